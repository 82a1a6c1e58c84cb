import {
  Problem
} from "./chunk-FSPVDUAZ.js";

// src/core/exchange/header-rules.ts
var token = /^[!#$%&'*+.^_`|~0-9A-Za-z-]+$/;
var forbidden = /[\u0000-\u0008\u000a-\u001f\u007f]|[^\u0000-\u00ff]/;
var own = /* @__PURE__ */ new Set(["content-length", "transfer-encoding", "connection", "keep-alive", "upgrade", "host"]);
function checkHeader(name, value, where) {
  if (!token.test(name))
    throw new Problem("header-shape", { what: `${JSON.stringify(name)} is not a header name`, where });
  if (own.has(name.toLowerCase())) {
    throw new Problem("header-shape", {
      what: `the header ${name} is written at sending, never by hand`,
      where,
      remedy: "leave it out"
    });
  }
  const wrong = value === void 0 ? null : forbidden.exec(value);
  if (wrong) {
    const code = wrong[0].codePointAt(0).toString(16).toUpperCase().padStart(4, "0");
    const line = wrong[0] === "\n" || wrong[0] === "\r";
    throw new Problem("header-shape", {
      what: `the value of the header ${name} holds ${line ? "a line break" : `the character U+${code}`}`,
      where,
      remedy: line ? "was a value pasted with its line break? | trim removes it at the ends" : "HTTP headers hold Latin-1 only; percent-encode the value where the vendor allows it"
    });
  }
}

export {
  checkHeader
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZXhjaGFuZ2UvaGVhZGVyLXJ1bGVzLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKipcbiAqIFdoYXQgbWF5IHN0YW5kIGluIGEgaGVhZGVyIGxpbmUsIGJ5IFJGQyA5MTEwLlxuICpcbiAqICAgICBmaWVsZC1uYW1lICA9IHRva2VuICAgICAgICAgICAgICAgICAgICAgICAgICAgICAgICAgICA7IHNlY3Rpb24gNS4xXG4gKiAgICAgZmllbGQtdmFsdWUgPSAqKCBmaWVsZC12Y2hhciAvIFNQIC8gSFRBQiAvIG9icy10ZXh0ICkgIDsgc2VjdGlvbiA1LjVcbiAqL1xuaW1wb3J0IHsgdHlwZSBGaWxlUG9zaXRpb24sIFByb2JsZW0gfSBmcm9tICcuLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuXG5jb25zdCB0b2tlbiA9IC9eWyEjJCUmJyorLl5fYHx+MC05QS1aYS16LV0rJC87XG4vLyBiaW9tZS1pZ25vcmUgbGludC9zdXNwaWNpb3VzL25vQ29udHJvbENoYXJhY3RlcnNJblJlZ2V4OiBleGFjdGx5IHRoZXNlIGFyZSBmb3JiaWRkZW5cbmNvbnN0IGZvcmJpZGRlbiA9IC9bXFx1MDAwMC1cXHUwMDA4XFx1MDAwYS1cXHUwMDFmXFx1MDA3Zl18W15cXHUwMDAwLVxcdTAwZmZdLztcbi8qKiBNYWRlIGF0IHNlbmRpbmc7IHdyaXR0ZW4gYnkgaGFuZCB0aGV5IHdvdWxkIGNvbnRyYWRpY3QgdGhlIG1lc3NhZ2UuICovXG5jb25zdCBvd24gPSBuZXcgU2V0KFsnY29udGVudC1sZW5ndGgnLCAndHJhbnNmZXItZW5jb2RpbmcnLCAnY29ubmVjdGlvbicsICdrZWVwLWFsaXZlJywgJ3VwZ3JhZGUnLCAnaG9zdCddKTtcblxuLyoqIEBwYXJhbSB2YWx1ZSB1bmRlZmluZWQgd2hlcmUgb25seSB0aGUgbmFtZSBpcyBrbm93biB5ZXQuIEB0aHJvd3MgUHJvYmxlbSBoZWFkZXItc2hhcGUgKi9cbmV4cG9ydCBmdW5jdGlvbiBjaGVja0hlYWRlcihuYW1lOiBzdHJpbmcsIHZhbHVlOiBzdHJpbmcgfCB1bmRlZmluZWQsIHdoZXJlOiBGaWxlUG9zaXRpb24gfCB1bmRlZmluZWQpOiB2b2lkIHtcbiAgaWYgKCF0b2tlbi50ZXN0KG5hbWUpKVxuICAgIHRocm93IG5ldyBQcm9ibGVtKCdoZWFkZXItc2hhcGUnLCB7IHdoYXQ6IGAke0pTT04uc3RyaW5naWZ5KG5hbWUpfSBpcyBub3QgYSBoZWFkZXIgbmFtZWAsIHdoZXJlIH0pO1xuICBpZiAob3duLmhhcyhuYW1lLnRvTG93ZXJDYXNlKCkpKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ2hlYWRlci1zaGFwZScsIHtcbiAgICAgIHdoYXQ6IGB0aGUgaGVhZGVyICR7bmFtZX0gaXMgd3JpdHRlbiBhdCBzZW5kaW5nLCBuZXZlciBieSBoYW5kYCxcbiAgICAgIHdoZXJlLFxuICAgICAgcmVtZWR5OiAnbGVhdmUgaXQgb3V0JyxcbiAgICB9KTtcbiAgfVxuICBjb25zdCB3cm9uZyA9IHZhbHVlID09PSB1bmRlZmluZWQgPyBudWxsIDogZm9yYmlkZGVuLmV4ZWModmFsdWUpO1xuICBpZiAod3JvbmcpIHtcbiAgICBjb25zdCBjb2RlID0gKHdyb25nWzBdLmNvZGVQb2ludEF0KDApIGFzIG51bWJlcikudG9TdHJpbmcoMTYpLnRvVXBwZXJDYXNlKCkucGFkU3RhcnQoNCwgJzAnKTtcbiAgICBjb25zdCBsaW5lID0gd3JvbmdbMF0gPT09ICdcXG4nIHx8IHdyb25nWzBdID09PSAnXFxyJztcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgnaGVhZGVyLXNoYXBlJywge1xuICAgICAgd2hhdDogYHRoZSB2YWx1ZSBvZiB0aGUgaGVhZGVyICR7bmFtZX0gaG9sZHMgJHtsaW5lID8gJ2EgbGluZSBicmVhaycgOiBgdGhlIGNoYXJhY3RlciBVKyR7Y29kZX1gfWAsXG4gICAgICB3aGVyZSxcbiAgICAgIHJlbWVkeTogbGluZVxuICAgICAgICA/ICd3YXMgYSB2YWx1ZSBwYXN0ZWQgd2l0aCBpdHMgbGluZSBicmVhaz8gfCB0cmltIHJlbW92ZXMgaXQgYXQgdGhlIGVuZHMnXG4gICAgICAgIDogJ0hUVFAgaGVhZGVycyBob2xkIExhdGluLTEgb25seTsgcGVyY2VudC1lbmNvZGUgdGhlIHZhbHVlIHdoZXJlIHRoZSB2ZW5kb3IgYWxsb3dzIGl0JyxcbiAgICB9KTtcbiAgfVxufVxuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7QUFRQSxJQUFNLFFBQVE7QUFFZCxJQUFNLFlBQVk7QUFFbEIsSUFBTSxNQUFNLG9CQUFJLElBQUksQ0FBQyxrQkFBa0IscUJBQXFCLGNBQWMsY0FBYyxXQUFXLE1BQU0sQ0FBQztBQUduRyxTQUFTLFlBQVksTUFBYyxPQUEyQixPQUF1QztBQUMxRyxNQUFJLENBQUMsTUFBTSxLQUFLLElBQUk7QUFDbEIsVUFBTSxJQUFJLFFBQVEsZ0JBQWdCLEVBQUUsTUFBTSxHQUFHLEtBQUssVUFBVSxJQUFJLENBQUMseUJBQXlCLE1BQU0sQ0FBQztBQUNuRyxNQUFJLElBQUksSUFBSSxLQUFLLFlBQVksQ0FBQyxHQUFHO0FBQy9CLFVBQU0sSUFBSSxRQUFRLGdCQUFnQjtBQUFBLE1BQ2hDLE1BQU0sY0FBYyxJQUFJO0FBQUEsTUFDeEI7QUFBQSxNQUNBLFFBQVE7QUFBQSxJQUNWLENBQUM7QUFBQSxFQUNIO0FBQ0EsUUFBTSxRQUFRLFVBQVUsU0FBWSxPQUFPLFVBQVUsS0FBSyxLQUFLO0FBQy9ELE1BQUksT0FBTztBQUNULFVBQU0sT0FBUSxNQUFNLENBQUMsRUFBRSxZQUFZLENBQUMsRUFBYSxTQUFTLEVBQUUsRUFBRSxZQUFZLEVBQUUsU0FBUyxHQUFHLEdBQUc7QUFDM0YsVUFBTSxPQUFPLE1BQU0sQ0FBQyxNQUFNLFFBQVEsTUFBTSxDQUFDLE1BQU07QUFDL0MsVUFBTSxJQUFJLFFBQVEsZ0JBQWdCO0FBQUEsTUFDaEMsTUFBTSwyQkFBMkIsSUFBSSxVQUFVLE9BQU8saUJBQWlCLG1CQUFtQixJQUFJLEVBQUU7QUFBQSxNQUNoRztBQUFBLE1BQ0EsUUFBUSxPQUNKLDBFQUNBO0FBQUEsSUFDTixDQUFDO0FBQUEsRUFDSDtBQUNGOyIsCiAgIm5hbWVzIjogW10KfQo=
