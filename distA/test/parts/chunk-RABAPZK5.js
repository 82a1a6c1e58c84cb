import {
  Written
} from "./chunk-XGDOGID3.js";

// src/core/value/json-text.ts
import { isSafeNumber, parse as parseExactly } from "lossless-json";

// src/core/value/json-path-text.ts
var plainName = /^[A-Za-z_]\w*$/;
function pathBelow(at, key) {
  if (typeof key === "number") return `${at}[${key}]`;
  if (plainName.test(key)) return `${at}.${key}`;
  return `${at}['${key.replace(/[\\']/g, "\\$&").replace(new RegExp("\\p{Cc}", "gu"), escapedControl)}']`;
}
var escapedControl = (character) => JSON.stringify(character).slice(1, -1);

// src/core/value/json-text.ts
var jsonNumber = /^-?(?:0|[1-9]\d*)(?:\.\d+)?(?:[eE][+-]?\d+)?$/;
var longDigits = /[\d.]{16}/;
function parseJson(text) {
  const value = JSON.parse(text);
  if (!longDigits.test(text)) return value;
  return parseExactly(text, null, {
    // As JSON.parse does; that they stand twice is told apart from it.
    onDuplicateKey: ({ newValue }) => newValue,
    parseNumber: (source) => isSafeNumber(source) ? Number(source) : new Written(source, Number(source))
  });
}
function duplicateKeys(text) {
  const found = /* @__PURE__ */ new Set();
  const open = [];
  const strings = /"(?:[^"\\]|\\.)*"|[{}[\],]/g;
  for (let token = strings.exec(text); token; token = strings.exec(text)) {
    const [mark] = token;
    const here = open.at(-1);
    if (mark === "{" || mark === "[") open.push({ keys: mark === "{" ? /* @__PURE__ */ new Set() : void 0, name: "", index: 0 });
    else if (mark === "}" || mark === "]") open.pop();
    else if (mark === ",") {
      if (here && !here.keys) here.index += 1;
    } else if (here?.keys && /^\s*:/.test(text.slice(strings.lastIndex, strings.lastIndex + 40))) {
      here.name = JSON.parse(mark);
      if (here.keys.has(here.name))
        found.add(open.reduce((at, { keys, name, index }) => pathBelow(at, keys ? name : index), "$"));
      here.keys.add(here.name);
    }
  }
  return [...found];
}
function writtenJson(scalar) {
  if (typeof scalar.value !== "number") return String(scalar.value);
  if (jsonNumber.test(scalar.text)) return scalar.text;
  const digits = /^[-+]?0*(\d+)$/.exec(scalar.text)?.[1];
  if (digits !== void 0) return scalar.text.startsWith("-") ? `-${digits}` : digits;
  return JSON.stringify(scalar.value);
}
function needsOwnText(value) {
  if (typeof value !== "object" || value === null) return false;
  if (value instanceof Written || value instanceof Uint8Array) return true;
  for (const key in value) if (needsOwnText(value[key])) return true;
  return false;
}
function writeJson(value, indent = 0) {
  if (!needsOwnText(value)) return JSON.stringify(value, null, indent);
  return exactJson(value, indent, "");
}
function bytesAsText(value) {
  return value instanceof Uint8Array ? Buffer.from(value).toString("base64") : value;
}
function exactJson(value, indent, margin) {
  if (value instanceof Written) return writtenJson(value);
  if (typeof value !== "object" || value === null || value instanceof Uint8Array) {
    return JSON.stringify(bytesAsText(value));
  }
  const inner = indent > 0 ? `${margin}${" ".repeat(indent)}` : "";
  const items = Array.isArray(value) ? value.map((item) => exactJson(item, indent, inner)) : Object.entries(value).filter(([, item]) => item !== void 0).map(([key, item]) => `${JSON.stringify(key)}:${indent > 0 ? " " : ""}${exactJson(item, indent, inner)}`);
  const [open, close] = Array.isArray(value) ? "[]" : "{}";
  if (items.length === 0) return `${open}${close}`;
  if (indent === 0) return `${open}${items.join(",")}${close}`;
  return `${open}
${items.map((item) => inner + item).join(",\n")}
${margin}${close}`;
}

export {
  pathBelow,
  parseJson,
  duplicateKeys,
  writeJson
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvdmFsdWUvanNvbi10ZXh0LnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3ZhbHVlL2pzb24tcGF0aC10ZXh0LnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogSlNPTiB0ZXh0IGluIGFuZCBvdXQsIGV4YWN0IGZvciBsb25nIG51bWJlcnMuICovXG5pbXBvcnQgeyBpc1NhZmVOdW1iZXIsIHBhcnNlIGFzIHBhcnNlRXhhY3RseSB9IGZyb20gJ2xvc3NsZXNzLWpzb24nO1xuaW1wb3J0IHsgcGF0aEJlbG93IH0gZnJvbSAnLi9qc29uLXBhdGgtdGV4dC5qcyc7XG5pbXBvcnQgeyB0eXBlIFZhbHVlLCBXcml0dGVuIH0gZnJvbSAnLi93cml0dGVuLmpzJztcblxuLyoqIFJGQyA4MjU5IHNlY3Rpb24gNi4gKi9cbmNvbnN0IGpzb25OdW1iZXIgPSAvXi0/KD86MHxbMS05XVxcZCopKD86XFwuXFxkKyk/KD86W2VFXVsrLV0/XFxkKyk/JC87XG4vKiogQSBydW4gdGhhdCBhIGRvdWJsZSBtYXkgbm90IGhvbGQgaW4gZnVsbDsgb25seSB0aGVuIGlzIHRoZSBzbG93ZXIgZXhhY3QgcGFyc2VyIHdvcnRoIGl0LiAqL1xuY29uc3QgbG9uZ0RpZ2l0cyA9IC9bXFxkLl17MTZ9LztcblxuLyoqIEB0aHJvd3MgU3ludGF4RXJyb3IgYXMgSlNPTi5wYXJzZSBkb2VzLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHBhcnNlSnNvbih0ZXh0OiBzdHJpbmcpOiBWYWx1ZSB7XG4gIGNvbnN0IHZhbHVlID0gSlNPTi5wYXJzZSh0ZXh0KSBhcyBWYWx1ZTtcbiAgaWYgKCFsb25nRGlnaXRzLnRlc3QodGV4dCkpIHJldHVybiB2YWx1ZTtcbiAgcmV0dXJuIHBhcnNlRXhhY3RseSh0ZXh0LCBudWxsLCB7XG4gICAgLy8gQXMgSlNPTi5wYXJzZSBkb2VzOyB0aGF0IHRoZXkgc3RhbmQgdHdpY2UgaXMgdG9sZCBhcGFydCBmcm9tIGl0LlxuICAgIG9uRHVwbGljYXRlS2V5OiAoeyBuZXdWYWx1ZSB9OiB7IG5ld1ZhbHVlOiB1bmtub3duIH0pID0+IG5ld1ZhbHVlLFxuICAgIHBhcnNlTnVtYmVyOiAoc291cmNlOiBzdHJpbmcpID0+IChpc1NhZmVOdW1iZXIoc291cmNlKSA/IE51bWJlcihzb3VyY2UpIDogbmV3IFdyaXR0ZW4oc291cmNlLCBOdW1iZXIoc291cmNlKSkpLFxuICB9KSBhcyBWYWx1ZTtcbn1cblxuLyoqXG4gKiBLZXlzIHRoYXQgc3RhbmQgdHdpY2UgaW4gb25lIG9iamVjdCwgYXMgSlNPTlBhdGhzOyBwYXJzZXJzIHRha2UgdGhlIGxhc3QgYW5kIHNheSBub3RoaW5nLiBPbmx5IG9mIHRleHQgdGhhdCBwYXJzZXMuXG4gKi9cbmV4cG9ydCBmdW5jdGlvbiBkdXBsaWNhdGVLZXlzKHRleHQ6IHN0cmluZyk6IHN0cmluZ1tdIHtcbiAgY29uc3QgZm91bmQgPSBuZXcgU2V0PHN0cmluZz4oKTtcbiAgY29uc3Qgb3BlbjogeyByZWFkb25seSBrZXlzOiBTZXQ8c3RyaW5nPiB8IHVuZGVmaW5lZDsgbmFtZTogc3RyaW5nOyBpbmRleDogbnVtYmVyIH1bXSA9IFtdO1xuICBjb25zdCBzdHJpbmdzID0gL1wiKD86W15cIlxcXFxdfFxcXFwuKSpcInxbe31bXFxdLF0vZztcbiAgZm9yIChsZXQgdG9rZW4gPSBzdHJpbmdzLmV4ZWModGV4dCk7IHRva2VuOyB0b2tlbiA9IHN0cmluZ3MuZXhlYyh0ZXh0KSkge1xuICAgIGNvbnN0IFttYXJrXSA9IHRva2VuO1xuICAgIGNvbnN0IGhlcmUgPSBvcGVuLmF0KC0xKTtcbiAgICBpZiAobWFyayA9PT0gJ3snIHx8IG1hcmsgPT09ICdbJykgb3Blbi5wdXNoKHsga2V5czogbWFyayA9PT0gJ3snID8gbmV3IFNldCgpIDogdW5kZWZpbmVkLCBuYW1lOiAnJywgaW5kZXg6IDAgfSk7XG4gICAgZWxzZSBpZiAobWFyayA9PT0gJ30nIHx8IG1hcmsgPT09ICddJykgb3Blbi5wb3AoKTtcbiAgICBlbHNlIGlmIChtYXJrID09PSAnLCcpIHtcbiAgICAgIGlmIChoZXJlICYmICFoZXJlLmtleXMpIGhlcmUuaW5kZXggKz0gMTtcbiAgICB9IGVsc2UgaWYgKGhlcmU/LmtleXMgJiYgL15cXHMqOi8udGVzdCh0ZXh0LnNsaWNlKHN0cmluZ3MubGFzdEluZGV4LCBzdHJpbmdzLmxhc3RJbmRleCArIDQwKSkpIHtcbiAgICAgIGhlcmUubmFtZSA9IEpTT04ucGFyc2UobWFyaykgYXMgc3RyaW5nO1xuICAgICAgaWYgKGhlcmUua2V5cy5oYXMoaGVyZS5uYW1lKSlcbiAgICAgICAgZm91bmQuYWRkKG9wZW4ucmVkdWNlKChhdCwgeyBrZXlzLCBuYW1lLCBpbmRleCB9KSA9PiBwYXRoQmVsb3coYXQsIGtleXMgPyBuYW1lIDogaW5kZXgpLCAnJCcpKTtcbiAgICAgIGhlcmUua2V5cy5hZGQoaGVyZS5uYW1lKTtcbiAgICB9XG4gIH1cbiAgcmV0dXJuIFsuLi5mb3VuZF07XG59XG5cbi8qKiBUaGUgdGV4dCBvZiBhIHNjYWxhciBhcyBpdCBzdGFuZHMgaW4gSlNPTjogYSB2YWxpZCBudW1iZXIga2VlcHMgaXRzIGRpZ2l0cywgYW55dGhpbmcgZWxzZSBpdHMgdmFsdWUuICovXG5mdW5jdGlvbiB3cml0dGVuSnNvbihzY2FsYXI6IFdyaXR0ZW4pOiBzdHJpbmcge1xuICBpZiAodHlwZW9mIHNjYWxhci52YWx1ZSAhPT0gJ251bWJlcicpIHJldHVybiBTdHJpbmcoc2NhbGFyLnZhbHVlKTtcbiAgaWYgKGpzb25OdW1iZXIudGVzdChzY2FsYXIudGV4dCkpIHJldHVybiBzY2FsYXIudGV4dDtcbiAgY29uc3QgZGlnaXRzID0gL15bLStdPzAqKFxcZCspJC8uZXhlYyhzY2FsYXIudGV4dCk/LlsxXTtcbiAgaWYgKGRpZ2l0cyAhPT0gdW5kZWZpbmVkKSByZXR1cm4gc2NhbGFyLnRleHQuc3RhcnRzV2l0aCgnLScpID8gYC0ke2RpZ2l0c31gIDogZGlnaXRzO1xuICByZXR1cm4gSlNPTi5zdHJpbmdpZnkoc2NhbGFyLnZhbHVlKTtcbn1cblxuLyoqIFdoZXRoZXIgYW55dGhpbmcgaW4gaXQgaXMgbm90IHdyaXR0ZW4gYXMgSlNPTi5zdHJpbmdpZnkgd291bGQuICovXG5mdW5jdGlvbiBuZWVkc093blRleHQodmFsdWU6IHVua25vd24pOiBib29sZWFuIHtcbiAgaWYgKHR5cGVvZiB2YWx1ZSAhPT0gJ29iamVjdCcgfHwgdmFsdWUgPT09IG51bGwpIHJldHVybiBmYWxzZTtcbiAgaWYgKHZhbHVlIGluc3RhbmNlb2YgV3JpdHRlbiB8fCB2YWx1ZSBpbnN0YW5jZW9mIFVpbnQ4QXJyYXkpIHJldHVybiB0cnVlO1xuICBmb3IgKGNvbnN0IGtleSBpbiB2YWx1ZSkgaWYgKG5lZWRzT3duVGV4dCgodmFsdWUgYXMgUmVjb3JkPHN0cmluZywgdW5rbm93bj4pW2tleV0pKSByZXR1cm4gdHJ1ZTtcbiAgcmV0dXJuIGZhbHNlO1xufVxuXG4vKipcbiAqIEpTT04gdGV4dCBvZiBhIHZhbHVlLiBgaW5kZW50YCBpcyB0aGUgbnVtYmVyIG9mIHNwYWNlcyBhIGxldmVsLCAwIGZvciBvbmUgbGluZS5cbiAqIEJ5dGVzIGFyZSB3cml0dGVuIGFzIGJhc2U2NCB0ZXh0LlxuICovXG5leHBvcnQgZnVuY3Rpb24gd3JpdGVKc29uKHZhbHVlOiBWYWx1ZSwgaW5kZW50ID0gMCk6IHN0cmluZyB7XG4gIGlmICghbmVlZHNPd25UZXh0KHZhbHVlKSkgcmV0dXJuIEpTT04uc3RyaW5naWZ5KHZhbHVlLCBudWxsLCBpbmRlbnQpO1xuICByZXR1cm4gZXhhY3RKc29uKHZhbHVlLCBpbmRlbnQsICcnKTtcbn1cblxuZnVuY3Rpb24gYnl0ZXNBc1RleHQodmFsdWU6IFZhbHVlKTogVmFsdWUge1xuICByZXR1cm4gdmFsdWUgaW5zdGFuY2VvZiBVaW50OEFycmF5ID8gQnVmZmVyLmZyb20odmFsdWUpLnRvU3RyaW5nKCdiYXNlNjQnKSA6IHZhbHVlO1xufVxuXG5mdW5jdGlvbiBleGFjdEpzb24odmFsdWU6IFZhbHVlLCBpbmRlbnQ6IG51bWJlciwgbWFyZ2luOiBzdHJpbmcpOiBzdHJpbmcge1xuICBpZiAodmFsdWUgaW5zdGFuY2VvZiBXcml0dGVuKSByZXR1cm4gd3JpdHRlbkpzb24odmFsdWUpO1xuICBpZiAodHlwZW9mIHZhbHVlICE9PSAnb2JqZWN0JyB8fCB2YWx1ZSA9PT0gbnVsbCB8fCB2YWx1ZSBpbnN0YW5jZW9mIFVpbnQ4QXJyYXkpIHtcbiAgICByZXR1cm4gSlNPTi5zdHJpbmdpZnkoYnl0ZXNBc1RleHQodmFsdWUpKTtcbiAgfVxuICBjb25zdCBpbm5lciA9IGluZGVudCA+IDAgPyBgJHttYXJnaW59JHsnICcucmVwZWF0KGluZGVudCl9YCA6ICcnO1xuICBjb25zdCBpdGVtcyA9IEFycmF5LmlzQXJyYXkodmFsdWUpXG4gICAgPyB2YWx1ZS5tYXAoKGl0ZW06IFZhbHVlKSA9PiBleGFjdEpzb24oaXRlbSwgaW5kZW50LCBpbm5lcikpXG4gICAgOiBPYmplY3QuZW50cmllcyh2YWx1ZSlcbiAgICAgICAgLmZpbHRlcigoWywgaXRlbV0pID0+IGl0ZW0gIT09IHVuZGVmaW5lZClcbiAgICAgICAgLm1hcCgoW2tleSwgaXRlbV0pID0+IGAke0pTT04uc3RyaW5naWZ5KGtleSl9OiR7aW5kZW50ID4gMCA/ICcgJyA6ICcnfSR7ZXhhY3RKc29uKGl0ZW0sIGluZGVudCwgaW5uZXIpfWApO1xuICBjb25zdCBbb3BlbiwgY2xvc2VdID0gQXJyYXkuaXNBcnJheSh2YWx1ZSkgPyAnW10nIDogJ3t9JztcbiAgaWYgKGl0ZW1zLmxlbmd0aCA9PT0gMCkgcmV0dXJuIGAke29wZW59JHtjbG9zZX1gO1xuICBpZiAoaW5kZW50ID09PSAwKSByZXR1cm4gYCR7b3Blbn0ke2l0ZW1zLmpvaW4oJywnKX0ke2Nsb3NlfWA7XG4gIHJldHVybiBgJHtvcGVufVxcbiR7aXRlbXMubWFwKChpdGVtKSA9PiBpbm5lciArIGl0ZW0pLmpvaW4oJyxcXG4nKX1cXG4ke21hcmdpbn0ke2Nsb3NlfWA7XG59XG4iLCAiLyoqIEpTT05QYXRocyBhcyB0aGV5IGFyZSBzaG93bjogYC5uYW1lYCB3aGVyZSB0aGUgbmFtZSBhbGxvd3MgaXQsIGVsc2UgcXVvdGVkIChSRkMgOTUzNSBzZWN0aW9uIDIuMy4xLjEpLiAqL1xuXG5jb25zdCBwbGFpbk5hbWUgPSAvXltBLVphLXpfXVxcdyokLztcblxuLyoqIEBwYXJhbSBrZXkgdGhlIG5hbWUgb2YgYSBtZW1iZXIsIG9yIHRoZSBpbmRleCBvZiBhbiBpdGVtIEByZXR1cm5zIGl0cyBwYXRoIGJlbG93IGBhdGAgKi9cbmV4cG9ydCBmdW5jdGlvbiBwYXRoQmVsb3coYXQ6IHN0cmluZywga2V5OiBzdHJpbmcgfCBudW1iZXIpOiBzdHJpbmcge1xuICBpZiAodHlwZW9mIGtleSA9PT0gJ251bWJlcicpIHJldHVybiBgJHthdH1bJHtrZXl9XWA7XG4gIGlmIChwbGFpbk5hbWUudGVzdChrZXkpKSByZXR1cm4gYCR7YXR9LiR7a2V5fWA7XG4gIHJldHVybiBgJHthdH1bJyR7a2V5LnJlcGxhY2UoL1tcXFxcJ10vZywgJ1xcXFwkJicpLnJlcGxhY2UoL1xccHtDY30vZ3UsIGVzY2FwZWRDb250cm9sKX0nXWA7XG59XG5cbmNvbnN0IGVzY2FwZWRDb250cm9sID0gKGNoYXJhY3Rlcjogc3RyaW5nKTogc3RyaW5nID0+IEpTT04uc3RyaW5naWZ5KGNoYXJhY3Rlcikuc2xpY2UoMSwgLTEpO1xuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7QUFDQSxTQUFTLGNBQWMsU0FBUyxvQkFBb0I7OztBQ0NwRCxJQUFNLFlBQVk7QUFHWCxTQUFTLFVBQVUsSUFBWSxLQUE4QjtBQUNsRSxNQUFJLE9BQU8sUUFBUSxTQUFVLFFBQU8sR0FBRyxFQUFFLElBQUksR0FBRztBQUNoRCxNQUFJLFVBQVUsS0FBSyxHQUFHLEVBQUcsUUFBTyxHQUFHLEVBQUUsSUFBSSxHQUFHO0FBQzVDLFNBQU8sR0FBRyxFQUFFLEtBQUssSUFBSSxRQUFRLFVBQVUsTUFBTSxFQUFFLFFBQVEsV0FBQyxXQUFPLElBQUUsR0FBRSxjQUFjLENBQUM7QUFDcEY7QUFFQSxJQUFNLGlCQUFpQixDQUFDLGNBQThCLEtBQUssVUFBVSxTQUFTLEVBQUUsTUFBTSxHQUFHLEVBQUU7OztBREwzRixJQUFNLGFBQWE7QUFFbkIsSUFBTSxhQUFhO0FBR1osU0FBUyxVQUFVLE1BQXFCO0FBQzdDLFFBQU0sUUFBUSxLQUFLLE1BQU0sSUFBSTtBQUM3QixNQUFJLENBQUMsV0FBVyxLQUFLLElBQUksRUFBRyxRQUFPO0FBQ25DLFNBQU8sYUFBYSxNQUFNLE1BQU07QUFBQTtBQUFBLElBRTlCLGdCQUFnQixDQUFDLEVBQUUsU0FBUyxNQUE2QjtBQUFBLElBQ3pELGFBQWEsQ0FBQyxXQUFvQixhQUFhLE1BQU0sSUFBSSxPQUFPLE1BQU0sSUFBSSxJQUFJLFFBQVEsUUFBUSxPQUFPLE1BQU0sQ0FBQztBQUFBLEVBQzlHLENBQUM7QUFDSDtBQUtPLFNBQVMsY0FBYyxNQUF3QjtBQUNwRCxRQUFNLFFBQVEsb0JBQUksSUFBWTtBQUM5QixRQUFNLE9BQWtGLENBQUM7QUFDekYsUUFBTSxVQUFVO0FBQ2hCLFdBQVMsUUFBUSxRQUFRLEtBQUssSUFBSSxHQUFHLE9BQU8sUUFBUSxRQUFRLEtBQUssSUFBSSxHQUFHO0FBQ3RFLFVBQU0sQ0FBQyxJQUFJLElBQUk7QUFDZixVQUFNLE9BQU8sS0FBSyxHQUFHLEVBQUU7QUFDdkIsUUFBSSxTQUFTLE9BQU8sU0FBUyxJQUFLLE1BQUssS0FBSyxFQUFFLE1BQU0sU0FBUyxNQUFNLG9CQUFJLElBQUksSUFBSSxRQUFXLE1BQU0sSUFBSSxPQUFPLEVBQUUsQ0FBQztBQUFBLGFBQ3JHLFNBQVMsT0FBTyxTQUFTLElBQUssTUFBSyxJQUFJO0FBQUEsYUFDdkMsU0FBUyxLQUFLO0FBQ3JCLFVBQUksUUFBUSxDQUFDLEtBQUssS0FBTSxNQUFLLFNBQVM7QUFBQSxJQUN4QyxXQUFXLE1BQU0sUUFBUSxRQUFRLEtBQUssS0FBSyxNQUFNLFFBQVEsV0FBVyxRQUFRLFlBQVksRUFBRSxDQUFDLEdBQUc7QUFDNUYsV0FBSyxPQUFPLEtBQUssTUFBTSxJQUFJO0FBQzNCLFVBQUksS0FBSyxLQUFLLElBQUksS0FBSyxJQUFJO0FBQ3pCLGNBQU0sSUFBSSxLQUFLLE9BQU8sQ0FBQyxJQUFJLEVBQUUsTUFBTSxNQUFNLE1BQU0sTUFBTSxVQUFVLElBQUksT0FBTyxPQUFPLEtBQUssR0FBRyxHQUFHLENBQUM7QUFDL0YsV0FBSyxLQUFLLElBQUksS0FBSyxJQUFJO0FBQUEsSUFDekI7QUFBQSxFQUNGO0FBQ0EsU0FBTyxDQUFDLEdBQUcsS0FBSztBQUNsQjtBQUdBLFNBQVMsWUFBWSxRQUF5QjtBQUM1QyxNQUFJLE9BQU8sT0FBTyxVQUFVLFNBQVUsUUFBTyxPQUFPLE9BQU8sS0FBSztBQUNoRSxNQUFJLFdBQVcsS0FBSyxPQUFPLElBQUksRUFBRyxRQUFPLE9BQU87QUFDaEQsUUFBTSxTQUFTLGlCQUFpQixLQUFLLE9BQU8sSUFBSSxJQUFJLENBQUM7QUFDckQsTUFBSSxXQUFXLE9BQVcsUUFBTyxPQUFPLEtBQUssV0FBVyxHQUFHLElBQUksSUFBSSxNQUFNLEtBQUs7QUFDOUUsU0FBTyxLQUFLLFVBQVUsT0FBTyxLQUFLO0FBQ3BDO0FBR0EsU0FBUyxhQUFhLE9BQXlCO0FBQzdDLE1BQUksT0FBTyxVQUFVLFlBQVksVUFBVSxLQUFNLFFBQU87QUFDeEQsTUFBSSxpQkFBaUIsV0FBVyxpQkFBaUIsV0FBWSxRQUFPO0FBQ3BFLGFBQVcsT0FBTyxNQUFPLEtBQUksYUFBYyxNQUFrQyxHQUFHLENBQUMsRUFBRyxRQUFPO0FBQzNGLFNBQU87QUFDVDtBQU1PLFNBQVMsVUFBVSxPQUFjLFNBQVMsR0FBVztBQUMxRCxNQUFJLENBQUMsYUFBYSxLQUFLLEVBQUcsUUFBTyxLQUFLLFVBQVUsT0FBTyxNQUFNLE1BQU07QUFDbkUsU0FBTyxVQUFVLE9BQU8sUUFBUSxFQUFFO0FBQ3BDO0FBRUEsU0FBUyxZQUFZLE9BQXFCO0FBQ3hDLFNBQU8saUJBQWlCLGFBQWEsT0FBTyxLQUFLLEtBQUssRUFBRSxTQUFTLFFBQVEsSUFBSTtBQUMvRTtBQUVBLFNBQVMsVUFBVSxPQUFjLFFBQWdCLFFBQXdCO0FBQ3ZFLE1BQUksaUJBQWlCLFFBQVMsUUFBTyxZQUFZLEtBQUs7QUFDdEQsTUFBSSxPQUFPLFVBQVUsWUFBWSxVQUFVLFFBQVEsaUJBQWlCLFlBQVk7QUFDOUUsV0FBTyxLQUFLLFVBQVUsWUFBWSxLQUFLLENBQUM7QUFBQSxFQUMxQztBQUNBLFFBQU0sUUFBUSxTQUFTLElBQUksR0FBRyxNQUFNLEdBQUcsSUFBSSxPQUFPLE1BQU0sQ0FBQyxLQUFLO0FBQzlELFFBQU0sUUFBUSxNQUFNLFFBQVEsS0FBSyxJQUM3QixNQUFNLElBQUksQ0FBQyxTQUFnQixVQUFVLE1BQU0sUUFBUSxLQUFLLENBQUMsSUFDekQsT0FBTyxRQUFRLEtBQUssRUFDakIsT0FBTyxDQUFDLENBQUMsRUFBRSxJQUFJLE1BQU0sU0FBUyxNQUFTLEVBQ3ZDLElBQUksQ0FBQyxDQUFDLEtBQUssSUFBSSxNQUFNLEdBQUcsS0FBSyxVQUFVLEdBQUcsQ0FBQyxJQUFJLFNBQVMsSUFBSSxNQUFNLEVBQUUsR0FBRyxVQUFVLE1BQU0sUUFBUSxLQUFLLENBQUMsRUFBRTtBQUM5RyxRQUFNLENBQUMsTUFBTSxLQUFLLElBQUksTUFBTSxRQUFRLEtBQUssSUFBSSxPQUFPO0FBQ3BELE1BQUksTUFBTSxXQUFXLEVBQUcsUUFBTyxHQUFHLElBQUksR0FBRyxLQUFLO0FBQzlDLE1BQUksV0FBVyxFQUFHLFFBQU8sR0FBRyxJQUFJLEdBQUcsTUFBTSxLQUFLLEdBQUcsQ0FBQyxHQUFHLEtBQUs7QUFDMUQsU0FBTyxHQUFHLElBQUk7QUFBQSxFQUFLLE1BQU0sSUFBSSxDQUFDLFNBQVMsUUFBUSxJQUFJLEVBQUUsS0FBSyxLQUFLLENBQUM7QUFBQSxFQUFLLE1BQU0sR0FBRyxLQUFLO0FBQ3JGOyIsCiAgIm5hbWVzIjogW10KfQo=
