import {
  clauseFault
} from "./chunk-2YNHSDXB.js";
import {
  nearest
} from "./chunk-PACVB44P.js";
import {
  pathBelow
} from "./chunk-RABAPZK5.js";
import {
  typeOf
} from "./chunk-XGDOGID3.js";

// src/core/documentation/mismatch.ts
var most = 50;
function mismatches(value, fields, settings = {}) {
  const found = [];
  if (Array.isArray(value)) {
    for (const [index, item] of value.entries()) inObject(item, fields, [index], settings, found);
  } else inObject(value, fields, [], settings, found);
  return found.slice(0, most);
}
function inObject(value, fields, path, settings, found) {
  if (typeof value !== "object" || value === null || fields.length === 0 || found.length >= most) return;
  const known = new Map(fields.map((field) => [field.name, field]));
  for (const [key, inner] of Object.entries(value)) {
    const field = known.get(key);
    const here = [...path, key];
    if (!field) {
      const near = nearest(key, [...known.keys()]);
      add(found, here, `is not documented${near === void 0 ? "" : `; documented is ${near}`}`);
    } else if (field.readOnly && !settings.answer) add(found, here, "is set by the vendor, and is not sent");
    else ofField(inner, field, here, settings, found);
  }
  for (const field of fields) {
    if (!field.required || field.name in value) continue;
    if (settings.answer ? field.writeOnly : field.readOnly) continue;
    add(found, [...path, field.name], "is documented as required, and missing");
  }
}
function ofField(value, field, path, settings, found) {
  if (settings.unknown?.(value)) return;
  if (!fits(value, field.type)) {
    add(found, path, `is ${worded(value)}, documented as ${field.type}`);
    return;
  }
  for (const [item, at] of itemsOf(value, path)) {
    if (settings.unknown?.(item)) continue;
    if (field.allowed && item !== null && !field.allowed.some((one) => String(one) === String(item)))
      add(found, at, `is ${JSON.stringify(item)}, documented are ${field.allowed.map(String).join(", ")}`);
    const beyond = field.limits && limitBroken(item, field.limits);
    if (beyond !== void 0) add(found, at, `is ${JSON.stringify(item)}, documented is ${beyond}`);
    if (field.recursive !== void 0) continue;
    if (field.alternatives)
      nearestShape(
        item,
        field.alternatives.map(({ fields }) => fields),
        at,
        settings,
        found
      );
    else if (field.fields) inObject(item, field.fields, at, settings, found);
  }
}
function nearestShape(value, shapes, path, settings, found) {
  const tried = shapes.map((fields) => {
    const own = [];
    inObject(value, fields, path, settings, own);
    return own;
  });
  const best = tried.sort((a, b) => a.length - b.length)[0] ?? [];
  found.push(...best);
}
function itemsOf(value, path) {
  return Array.isArray(value) ? value.map((item, index) => [item, [...path, index]]) : [[value, path]];
}
function add(found, path, what) {
  found.push({ at: placeText(path), what, path });
}
var placeText = (path) => path.reduce(pathBelow, "$");
var worded = (value) => {
  const type = typeOf(value);
  return type === "null" ? "null" : `${/^[aeio]/.test(type) ? "an" : "a"} ${type}`;
};
var graphqlNames = {
  Int: "integer",
  Float: "number",
  Boolean: "boolean",
  String: "string"
};
function fits(value, type) {
  if (/^[[A-Z]/.test(type)) return fitsGraphql(value, type);
  const own = typeOf(value);
  return type.split(" or ").some((one) => {
    const word = /^[a-z]+/.exec(one)?.[0];
    if (word === "array") return own === "array";
    if (word === "number") return own === "number" || own === "integer";
    if (word === "object" || word === "string" || word === "integer" || word === "boolean" || word === "null")
      return own === word;
    return true;
  });
}
function fitsGraphql(value, type) {
  const own = typeOf(value);
  if (own === "null") return !type.endsWith("!");
  if (type.startsWith("[")) return true;
  const wanted = graphqlNames[type.replace(/!$/, "")];
  if (wanted === void 0) return true;
  return own === wanted || wanted === "number" && own === "integer";
}
function limitBroken(value, limits) {
  if (typeof value === "number") {
    const { "at-least": least, "at-most": greatest, over, under, "multiple-of": step } = limits;
    if (least !== void 0 && value < least) return `at least ${least}`;
    if (greatest !== void 0 && value > greatest) return `at most ${greatest}`;
    if (over !== void 0 && value <= over) return `over ${over}`;
    if (under !== void 0 && value >= under) return `under ${under}`;
    if (step !== void 0 && Math.abs(value / step - Math.round(value / step)) > 1e-9) return `a multiple of ${step}`;
  }
  if (typeof value === "string") {
    const length = [...value].length;
    const { "least-length": least, "most-length": greatest } = limits;
    if (least !== void 0 && length < least) return `at least ${least} characters`;
    if (greatest !== void 0 && length > greatest) return `at most ${greatest} characters`;
  }
  return void 0;
}
function textMismatch(value, field) {
  if (field.clauses) return clauseFault(value, field.clauses);
  const single = field.type.replace(/^array of /, "");
  if (field.allowed && !field.allowed.some((one) => String(one) === value))
    return `is ${JSON.stringify(value)}, documented are ${field.allowed.map(String).join(", ")}`;
  const number = /^(?:integer|number)/.test(single);
  if (number && !(single.startsWith("integer") ? /^-?\d+$/ : /^-?\d+(?:\.\d+)?(?:[eE][-+]?\d+)?$/).test(value))
    return `is ${JSON.stringify(value)}, documented as ${single}`;
  if (single.startsWith("boolean") && value !== "true" && value !== "false")
    return `is ${JSON.stringify(value)}, documented as boolean`;
  const beyond = field.limits && limitBroken(number ? Number(value) : value, field.limits);
  return beyond === void 0 ? void 0 : `is ${value}, documented is ${beyond}`;
}

export {
  mismatches,
  textMismatch
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi9taXNtYXRjaC50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIEhvbGRpbmcgdmFsdWVzIGFnYWluc3Qgd2hhdCBpcyBkb2N1bWVudGVkIGZvciB0aGVtOiB3aGVyZSBhIHZhbHVlIGRpZmZlcnMsIHdoYXQgaXMgdGhlcmUsIHdoYXQgaXMgZG9jdW1lbnRlZC4gKi9cbmltcG9ydCB7IG5lYXJlc3QgfSBmcm9tICcuLi9wcm9ibGVtL25lYXJlc3QuanMnO1xuaW1wb3J0IHsgcGF0aEJlbG93IH0gZnJvbSAnLi4vdmFsdWUvanNvbi1wYXRoLXRleHQuanMnO1xuaW1wb3J0IHsgdHlwZU9mIH0gZnJvbSAnLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyBjbGF1c2VGYXVsdCB9IGZyb20gJy4vZmlsdGVyLWNsYXVzZS5qcyc7XG5pbXBvcnQgdHlwZSB7IENsYXVzZVRlcm1zLCBGaWVsZCwgTGltaXRzIH0gZnJvbSAnLi9tb2RlbC5qcyc7XG5cbmV4cG9ydCBpbnRlcmZhY2UgTWlzbWF0Y2gge1xuICAvKiogYCQuZmVlc1swXS5hbW91bnRgLCBgcXVlcnkgcXVheWAuICovXG4gIHJlYWRvbmx5IGF0OiBzdHJpbmc7XG4gIHJlYWRvbmx5IHdoYXQ6IHN0cmluZztcbiAgLyoqIEtleXMgYW5kIGluZGV4ZXMgZnJvbSB0aGUgcm9vdCBvZiB0aGUgdmFsdWUuICovXG4gIHJlYWRvbmx5IHBhdGg6IHJlYWRvbmx5IChzdHJpbmcgfCBudW1iZXIpW107XG59XG5cbmV4cG9ydCBpbnRlcmZhY2UgTWlzbWF0Y2hTZXR0aW5ncyB7XG4gIC8qKiBBIHZhbHVlIHRoYXQgaXMgbm90IGtub3duIHlldCwgc3VjaCBhcyBgJHtuYW1lfWA6IG9ubHkgaXRzIHByZXNlbmNlIGNvdW50cy4gKi9cbiAgcmVhZG9ubHkgdW5rbm93bj86ICh2YWx1ZTogdW5rbm93bikgPT4gYm9vbGVhbjtcbiAgLyoqIE9mIGFuIGFuc3dlcjogcmVhZC1vbmx5IGZpZWxkcyBiZWxvbmcgdGhlcmUsIGFuZCB3aGF0IGlzIG1pc3NpbmcgaXMgdG9sZCB0b28uICovXG4gIHJlYWRvbmx5IGFuc3dlcj86IGJvb2xlYW47XG59XG5cbmNvbnN0IG1vc3QgPSA1MDtcblxuLyoqIEBwYXJhbSBmaWVsZHMgbWVtYmVycyBvZiB0aGUgb2JqZWN0LCBvciBvZiB0aGUgaXRlbXMgd2hlcmUgdGhlIHZhbHVlIGlzIGEgbGlzdCAqL1xuZXhwb3J0IGZ1bmN0aW9uIG1pc21hdGNoZXMoXG4gIHZhbHVlOiB1bmtub3duLFxuICBmaWVsZHM6IHJlYWRvbmx5IEZpZWxkW10sXG4gIHNldHRpbmdzOiBNaXNtYXRjaFNldHRpbmdzID0ge30sXG4pOiByZWFkb25seSBNaXNtYXRjaFtdIHtcbiAgY29uc3QgZm91bmQ6IE1pc21hdGNoW10gPSBbXTtcbiAgaWYgKEFycmF5LmlzQXJyYXkodmFsdWUpKSB7XG4gICAgZm9yIChjb25zdCBbaW5kZXgsIGl0ZW1dIG9mIHZhbHVlLmVudHJpZXMoKSkgaW5PYmplY3QoaXRlbSwgZmllbGRzLCBbaW5kZXhdLCBzZXR0aW5ncywgZm91bmQpO1xuICB9IGVsc2UgaW5PYmplY3QodmFsdWUsIGZpZWxkcywgW10sIHNldHRpbmdzLCBmb3VuZCk7XG4gIHJldHVybiBmb3VuZC5zbGljZSgwLCBtb3N0KTtcbn1cblxudHlwZSBQYXRoID0gcmVhZG9ubHkgKHN0cmluZyB8IG51bWJlcilbXTtcblxuZnVuY3Rpb24gaW5PYmplY3QoXG4gIHZhbHVlOiB1bmtub3duLFxuICBmaWVsZHM6IHJlYWRvbmx5IEZpZWxkW10sXG4gIHBhdGg6IFBhdGgsXG4gIHNldHRpbmdzOiBNaXNtYXRjaFNldHRpbmdzLFxuICBmb3VuZDogTWlzbWF0Y2hbXSxcbik6IHZvaWQge1xuICBpZiAodHlwZW9mIHZhbHVlICE9PSAnb2JqZWN0JyB8fCB2YWx1ZSA9PT0gbnVsbCB8fCBmaWVsZHMubGVuZ3RoID09PSAwIHx8IGZvdW5kLmxlbmd0aCA+PSBtb3N0KSByZXR1cm47XG4gIGNvbnN0IGtub3duID0gbmV3IE1hcChmaWVsZHMubWFwKChmaWVsZCkgPT4gW2ZpZWxkLm5hbWUsIGZpZWxkXSkpO1xuICBmb3IgKGNvbnN0IFtrZXksIGlubmVyXSBvZiBPYmplY3QuZW50cmllcyh2YWx1ZSkpIHtcbiAgICBjb25zdCBmaWVsZCA9IGtub3duLmdldChrZXkpO1xuICAgIGNvbnN0IGhlcmUgPSBbLi4ucGF0aCwga2V5XTtcbiAgICBpZiAoIWZpZWxkKSB7XG4gICAgICBjb25zdCBuZWFyID0gbmVhcmVzdChrZXksIFsuLi5rbm93bi5rZXlzKCldKTtcbiAgICAgIGFkZChmb3VuZCwgaGVyZSwgYGlzIG5vdCBkb2N1bWVudGVkJHtuZWFyID09PSB1bmRlZmluZWQgPyAnJyA6IGA7IGRvY3VtZW50ZWQgaXMgJHtuZWFyfWB9YCk7XG4gICAgfSBlbHNlIGlmIChmaWVsZC5yZWFkT25seSAmJiAhc2V0dGluZ3MuYW5zd2VyKSBhZGQoZm91bmQsIGhlcmUsICdpcyBzZXQgYnkgdGhlIHZlbmRvciwgYW5kIGlzIG5vdCBzZW50Jyk7XG4gICAgZWxzZSBvZkZpZWxkKGlubmVyLCBmaWVsZCwgaGVyZSwgc2V0dGluZ3MsIGZvdW5kKTtcbiAgfVxuICBmb3IgKGNvbnN0IGZpZWxkIG9mIGZpZWxkcykge1xuICAgIGlmICghZmllbGQucmVxdWlyZWQgfHwgZmllbGQubmFtZSBpbiB2YWx1ZSkgY29udGludWU7XG4gICAgaWYgKHNldHRpbmdzLmFuc3dlciA/IGZpZWxkLndyaXRlT25seSA6IGZpZWxkLnJlYWRPbmx5KSBjb250aW51ZTtcbiAgICBhZGQoZm91bmQsIFsuLi5wYXRoLCBmaWVsZC5uYW1lXSwgJ2lzIGRvY3VtZW50ZWQgYXMgcmVxdWlyZWQsIGFuZCBtaXNzaW5nJyk7XG4gIH1cbn1cblxuZnVuY3Rpb24gb2ZGaWVsZCh2YWx1ZTogdW5rbm93biwgZmllbGQ6IEZpZWxkLCBwYXRoOiBQYXRoLCBzZXR0aW5nczogTWlzbWF0Y2hTZXR0aW5ncywgZm91bmQ6IE1pc21hdGNoW10pOiB2b2lkIHtcbiAgaWYgKHNldHRpbmdzLnVua25vd24/Lih2YWx1ZSkpIHJldHVybjtcbiAgaWYgKCFmaXRzKHZhbHVlLCBmaWVsZC50eXBlKSkge1xuICAgIGFkZChmb3VuZCwgcGF0aCwgYGlzICR7d29yZGVkKHZhbHVlKX0sIGRvY3VtZW50ZWQgYXMgJHtmaWVsZC50eXBlfWApO1xuICAgIHJldHVybjtcbiAgfVxuICBmb3IgKGNvbnN0IFtpdGVtLCBhdF0gb2YgaXRlbXNPZih2YWx1ZSwgcGF0aCkpIHtcbiAgICBpZiAoc2V0dGluZ3MudW5rbm93bj8uKGl0ZW0pKSBjb250aW51ZTtcbiAgICBpZiAoZmllbGQuYWxsb3dlZCAmJiBpdGVtICE9PSBudWxsICYmICFmaWVsZC5hbGxvd2VkLnNvbWUoKG9uZSkgPT4gU3RyaW5nKG9uZSkgPT09IFN0cmluZyhpdGVtKSkpXG4gICAgICBhZGQoZm91bmQsIGF0LCBgaXMgJHtKU09OLnN0cmluZ2lmeShpdGVtKX0sIGRvY3VtZW50ZWQgYXJlICR7ZmllbGQuYWxsb3dlZC5tYXAoU3RyaW5nKS5qb2luKCcsICcpfWApO1xuICAgIGNvbnN0IGJleW9uZCA9IGZpZWxkLmxpbWl0cyAmJiBsaW1pdEJyb2tlbihpdGVtLCBmaWVsZC5saW1pdHMpO1xuICAgIGlmIChiZXlvbmQgIT09IHVuZGVmaW5lZCkgYWRkKGZvdW5kLCBhdCwgYGlzICR7SlNPTi5zdHJpbmdpZnkoaXRlbSl9LCBkb2N1bWVudGVkIGlzICR7YmV5b25kfWApO1xuICAgIGlmIChmaWVsZC5yZWN1cnNpdmUgIT09IHVuZGVmaW5lZCkgY29udGludWU7XG4gICAgaWYgKGZpZWxkLmFsdGVybmF0aXZlcylcbiAgICAgIG5lYXJlc3RTaGFwZShcbiAgICAgICAgaXRlbSxcbiAgICAgICAgZmllbGQuYWx0ZXJuYXRpdmVzLm1hcCgoeyBmaWVsZHMgfSkgPT4gZmllbGRzKSxcbiAgICAgICAgYXQsXG4gICAgICAgIHNldHRpbmdzLFxuICAgICAgICBmb3VuZCxcbiAgICAgICk7XG4gICAgZWxzZSBpZiAoZmllbGQuZmllbGRzKSBpbk9iamVjdChpdGVtLCBmaWVsZC5maWVsZHMsIGF0LCBzZXR0aW5ncywgZm91bmQpO1xuICB9XG59XG5cbi8qKiBPZiBzZXZlcmFsIHNoYXBlcyB0aGUgb25lIHRoYXQgZml0cyBiZXN0IGlzIG1lYW50LiAqL1xuZnVuY3Rpb24gbmVhcmVzdFNoYXBlKFxuICB2YWx1ZTogdW5rbm93bixcbiAgc2hhcGVzOiByZWFkb25seSAocmVhZG9ubHkgRmllbGRbXSlbXSxcbiAgcGF0aDogUGF0aCxcbiAgc2V0dGluZ3M6IE1pc21hdGNoU2V0dGluZ3MsXG4gIGZvdW5kOiBNaXNtYXRjaFtdLFxuKTogdm9pZCB7XG4gIGNvbnN0IHRyaWVkID0gc2hhcGVzLm1hcCgoZmllbGRzKSA9PiB7XG4gICAgY29uc3Qgb3duOiBNaXNtYXRjaFtdID0gW107XG4gICAgaW5PYmplY3QodmFsdWUsIGZpZWxkcywgcGF0aCwgc2V0dGluZ3MsIG93bik7XG4gICAgcmV0dXJuIG93bjtcbiAgfSk7XG4gIGNvbnN0IGJlc3QgPSB0cmllZC5zb3J0KChhLCBiKSA9PiBhLmxlbmd0aCAtIGIubGVuZ3RoKVswXSA/PyBbXTtcbiAgZm91bmQucHVzaCguLi5iZXN0KTtcbn1cblxuZnVuY3Rpb24gaXRlbXNPZih2YWx1ZTogdW5rbm93biwgcGF0aDogUGF0aCk6IFt1bmtub3duLCBQYXRoXVtdIHtcbiAgcmV0dXJuIEFycmF5LmlzQXJyYXkodmFsdWUpID8gdmFsdWUubWFwKChpdGVtLCBpbmRleCkgPT4gW2l0ZW0sIFsuLi5wYXRoLCBpbmRleF1dKSA6IFtbdmFsdWUsIHBhdGhdXTtcbn1cblxuZnVuY3Rpb24gYWRkKGZvdW5kOiBNaXNtYXRjaFtdLCBwYXRoOiBQYXRoLCB3aGF0OiBzdHJpbmcpOiB2b2lkIHtcbiAgZm91bmQucHVzaCh7IGF0OiBwbGFjZVRleHQocGF0aCksIHdoYXQsIHBhdGggfSk7XG59XG5cbi8qKiBBcyBhIEpTT05QYXRoLiAqL1xuY29uc3QgcGxhY2VUZXh0ID0gKHBhdGg6IFBhdGgpOiBzdHJpbmcgPT4gcGF0aC5yZWR1Y2U8c3RyaW5nPihwYXRoQmVsb3csICckJyk7XG5cbmNvbnN0IHdvcmRlZCA9ICh2YWx1ZTogdW5rbm93bik6IHN0cmluZyA9PiB7XG4gIGNvbnN0IHR5cGUgPSB0eXBlT2YodmFsdWUpO1xuICByZXR1cm4gdHlwZSA9PT0gJ251bGwnID8gJ251bGwnIDogYCR7L15bYWVpb10vLnRlc3QodHlwZSkgPyAnYW4nIDogJ2EnfSAke3R5cGV9YDtcbn07XG5cbmNvbnN0IGdyYXBocWxOYW1lczogUmVhZG9ubHk8UmVjb3JkPHN0cmluZywgc3RyaW5nPj4gPSB7XG4gIEludDogJ2ludGVnZXInLFxuICBGbG9hdDogJ251bWJlcicsXG4gIEJvb2xlYW46ICdib29sZWFuJyxcbiAgU3RyaW5nOiAnc3RyaW5nJyxcbn07XG5cbi8qKiBXaGV0aGVyIGEgdmFsdWUgaXMgb2YgYSBkb2N1bWVudGVkIHR5cGUsIGluIG91ciB3b3JkcyBvciBpbiB0aG9zZSBvZiBHcmFwaFFMLiAqL1xuZnVuY3Rpb24gZml0cyh2YWx1ZTogdW5rbm93biwgdHlwZTogc3RyaW5nKTogYm9vbGVhbiB7XG4gIGlmICgvXltbQS1aXS8udGVzdCh0eXBlKSkgcmV0dXJuIGZpdHNHcmFwaHFsKHZhbHVlLCB0eXBlKTtcbiAgY29uc3Qgb3duID0gdHlwZU9mKHZhbHVlKTtcbiAgcmV0dXJuIHR5cGUuc3BsaXQoJyBvciAnKS5zb21lKChvbmUpID0+IHtcbiAgICBjb25zdCB3b3JkID0gL15bYS16XSsvLmV4ZWMob25lKT8uWzBdO1xuICAgIGlmICh3b3JkID09PSAnYXJyYXknKSByZXR1cm4gb3duID09PSAnYXJyYXknO1xuICAgIGlmICh3b3JkID09PSAnbnVtYmVyJykgcmV0dXJuIG93biA9PT0gJ251bWJlcicgfHwgb3duID09PSAnaW50ZWdlcic7XG4gICAgaWYgKHdvcmQgPT09ICdvYmplY3QnIHx8IHdvcmQgPT09ICdzdHJpbmcnIHx8IHdvcmQgPT09ICdpbnRlZ2VyJyB8fCB3b3JkID09PSAnYm9vbGVhbicgfHwgd29yZCA9PT0gJ251bGwnKVxuICAgICAgcmV0dXJuIG93biA9PT0gd29yZDtcbiAgICByZXR1cm4gdHJ1ZTtcbiAgfSk7XG59XG5cbmZ1bmN0aW9uIGZpdHNHcmFwaHFsKHZhbHVlOiB1bmtub3duLCB0eXBlOiBzdHJpbmcpOiBib29sZWFuIHtcbiAgY29uc3Qgb3duID0gdHlwZU9mKHZhbHVlKTtcbiAgaWYgKG93biA9PT0gJ251bGwnKSByZXR1cm4gIXR5cGUuZW5kc1dpdGgoJyEnKTtcbiAgLy8gQSBzaW5nbGUgdmFsdWUgc3RhbmRzIGZvciBhIGxpc3Qgb2Ygb25lIChHcmFwaFFMLCBzZWN0aW9uIDMuMTIpLlxuICBpZiAodHlwZS5zdGFydHNXaXRoKCdbJykpIHJldHVybiB0cnVlO1xuICBjb25zdCB3YW50ZWQgPSBncmFwaHFsTmFtZXNbdHlwZS5yZXBsYWNlKC8hJC8sICcnKV07XG4gIGlmICh3YW50ZWQgPT09IHVuZGVmaW5lZCkgcmV0dXJuIHRydWU7XG4gIHJldHVybiBvd24gPT09IHdhbnRlZCB8fCAod2FudGVkID09PSAnbnVtYmVyJyAmJiBvd24gPT09ICdpbnRlZ2VyJyk7XG59XG5cbmZ1bmN0aW9uIGxpbWl0QnJva2VuKHZhbHVlOiB1bmtub3duLCBsaW1pdHM6IExpbWl0cyk6IHN0cmluZyB8IHVuZGVmaW5lZCB7XG4gIGlmICh0eXBlb2YgdmFsdWUgPT09ICdudW1iZXInKSB7XG4gICAgY29uc3QgeyAnYXQtbGVhc3QnOiBsZWFzdCwgJ2F0LW1vc3QnOiBncmVhdGVzdCwgb3ZlciwgdW5kZXIsICdtdWx0aXBsZS1vZic6IHN0ZXAgfSA9IGxpbWl0cztcbiAgICBpZiAobGVhc3QgIT09IHVuZGVmaW5lZCAmJiB2YWx1ZSA8IGxlYXN0KSByZXR1cm4gYGF0IGxlYXN0ICR7bGVhc3R9YDtcbiAgICBpZiAoZ3JlYXRlc3QgIT09IHVuZGVmaW5lZCAmJiB2YWx1ZSA+IGdyZWF0ZXN0KSByZXR1cm4gYGF0IG1vc3QgJHtncmVhdGVzdH1gO1xuICAgIGlmIChvdmVyICE9PSB1bmRlZmluZWQgJiYgdmFsdWUgPD0gb3ZlcikgcmV0dXJuIGBvdmVyICR7b3Zlcn1gO1xuICAgIGlmICh1bmRlciAhPT0gdW5kZWZpbmVkICYmIHZhbHVlID49IHVuZGVyKSByZXR1cm4gYHVuZGVyICR7dW5kZXJ9YDtcbiAgICBpZiAoc3RlcCAhPT0gdW5kZWZpbmVkICYmIE1hdGguYWJzKHZhbHVlIC8gc3RlcCAtIE1hdGgucm91bmQodmFsdWUgLyBzdGVwKSkgPiAxZS05KSByZXR1cm4gYGEgbXVsdGlwbGUgb2YgJHtzdGVwfWA7XG4gIH1cbiAgaWYgKHR5cGVvZiB2YWx1ZSA9PT0gJ3N0cmluZycpIHtcbiAgICBjb25zdCBsZW5ndGggPSBbLi4udmFsdWVdLmxlbmd0aDtcbiAgICBjb25zdCB7ICdsZWFzdC1sZW5ndGgnOiBsZWFzdCwgJ21vc3QtbGVuZ3RoJzogZ3JlYXRlc3QgfSA9IGxpbWl0cztcbiAgICBpZiAobGVhc3QgIT09IHVuZGVmaW5lZCAmJiBsZW5ndGggPCBsZWFzdCkgcmV0dXJuIGBhdCBsZWFzdCAke2xlYXN0fSBjaGFyYWN0ZXJzYDtcbiAgICBpZiAoZ3JlYXRlc3QgIT09IHVuZGVmaW5lZCAmJiBsZW5ndGggPiBncmVhdGVzdCkgcmV0dXJuIGBhdCBtb3N0ICR7Z3JlYXRlc3R9IGNoYXJhY3RlcnNgO1xuICB9XG4gIHJldHVybiB1bmRlZmluZWQ7XG59XG5cbi8qKiBUZXh0cyBvZiBxdWVyeSBwYXJhbWV0ZXJzLCB3aGljaCBoYXZlIG5vIHR5cGVzIG9mIHRoZWlyIG93bi4gKi9cbmV4cG9ydCBmdW5jdGlvbiB0ZXh0TWlzbWF0Y2godmFsdWU6IHN0cmluZywgZmllbGQ6IEZpZWxkICYgeyByZWFkb25seSBjbGF1c2VzPzogQ2xhdXNlVGVybXMgfSk6IHN0cmluZyB8IHVuZGVmaW5lZCB7XG4gIGlmIChmaWVsZC5jbGF1c2VzKSByZXR1cm4gY2xhdXNlRmF1bHQodmFsdWUsIGZpZWxkLmNsYXVzZXMpO1xuICBjb25zdCBzaW5nbGUgPSBmaWVsZC50eXBlLnJlcGxhY2UoL15hcnJheSBvZiAvLCAnJyk7XG4gIGlmIChmaWVsZC5hbGxvd2VkICYmICFmaWVsZC5hbGxvd2VkLnNvbWUoKG9uZSkgPT4gU3RyaW5nKG9uZSkgPT09IHZhbHVlKSlcbiAgICByZXR1cm4gYGlzICR7SlNPTi5zdHJpbmdpZnkodmFsdWUpfSwgZG9jdW1lbnRlZCBhcmUgJHtmaWVsZC5hbGxvd2VkLm1hcChTdHJpbmcpLmpvaW4oJywgJyl9YDtcbiAgY29uc3QgbnVtYmVyID0gL14oPzppbnRlZ2VyfG51bWJlcikvLnRlc3Qoc2luZ2xlKTtcbiAgaWYgKG51bWJlciAmJiAhKHNpbmdsZS5zdGFydHNXaXRoKCdpbnRlZ2VyJykgPyAvXi0/XFxkKyQvIDogL14tP1xcZCsoPzpcXC5cXGQrKT8oPzpbZUVdWy0rXT9cXGQrKT8kLykudGVzdCh2YWx1ZSkpXG4gICAgcmV0dXJuIGBpcyAke0pTT04uc3RyaW5naWZ5KHZhbHVlKX0sIGRvY3VtZW50ZWQgYXMgJHtzaW5nbGV9YDtcbiAgaWYgKHNpbmdsZS5zdGFydHNXaXRoKCdib29sZWFuJykgJiYgdmFsdWUgIT09ICd0cnVlJyAmJiB2YWx1ZSAhPT0gJ2ZhbHNlJylcbiAgICByZXR1cm4gYGlzICR7SlNPTi5zdHJpbmdpZnkodmFsdWUpfSwgZG9jdW1lbnRlZCBhcyBib29sZWFuYDtcbiAgY29uc3QgYmV5b25kID0gZmllbGQubGltaXRzICYmIGxpbWl0QnJva2VuKG51bWJlciA/IE51bWJlcih2YWx1ZSkgOiB2YWx1ZSwgZmllbGQubGltaXRzKTtcbiAgcmV0dXJuIGJleW9uZCA9PT0gdW5kZWZpbmVkID8gdW5kZWZpbmVkIDogYGlzICR7dmFsdWV9LCBkb2N1bWVudGVkIGlzICR7YmV5b25kfWA7XG59XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7OztBQXNCQSxJQUFNLE9BQU87QUFHTixTQUFTLFdBQ2QsT0FDQSxRQUNBLFdBQTZCLENBQUMsR0FDVDtBQUNyQixRQUFNLFFBQW9CLENBQUM7QUFDM0IsTUFBSSxNQUFNLFFBQVEsS0FBSyxHQUFHO0FBQ3hCLGVBQVcsQ0FBQyxPQUFPLElBQUksS0FBSyxNQUFNLFFBQVEsRUFBRyxVQUFTLE1BQU0sUUFBUSxDQUFDLEtBQUssR0FBRyxVQUFVLEtBQUs7QUFBQSxFQUM5RixNQUFPLFVBQVMsT0FBTyxRQUFRLENBQUMsR0FBRyxVQUFVLEtBQUs7QUFDbEQsU0FBTyxNQUFNLE1BQU0sR0FBRyxJQUFJO0FBQzVCO0FBSUEsU0FBUyxTQUNQLE9BQ0EsUUFDQSxNQUNBLFVBQ0EsT0FDTTtBQUNOLE1BQUksT0FBTyxVQUFVLFlBQVksVUFBVSxRQUFRLE9BQU8sV0FBVyxLQUFLLE1BQU0sVUFBVSxLQUFNO0FBQ2hHLFFBQU0sUUFBUSxJQUFJLElBQUksT0FBTyxJQUFJLENBQUMsVUFBVSxDQUFDLE1BQU0sTUFBTSxLQUFLLENBQUMsQ0FBQztBQUNoRSxhQUFXLENBQUMsS0FBSyxLQUFLLEtBQUssT0FBTyxRQUFRLEtBQUssR0FBRztBQUNoRCxVQUFNLFFBQVEsTUFBTSxJQUFJLEdBQUc7QUFDM0IsVUFBTSxPQUFPLENBQUMsR0FBRyxNQUFNLEdBQUc7QUFDMUIsUUFBSSxDQUFDLE9BQU87QUFDVixZQUFNLE9BQU8sUUFBUSxLQUFLLENBQUMsR0FBRyxNQUFNLEtBQUssQ0FBQyxDQUFDO0FBQzNDLFVBQUksT0FBTyxNQUFNLG9CQUFvQixTQUFTLFNBQVksS0FBSyxtQkFBbUIsSUFBSSxFQUFFLEVBQUU7QUFBQSxJQUM1RixXQUFXLE1BQU0sWUFBWSxDQUFDLFNBQVMsT0FBUSxLQUFJLE9BQU8sTUFBTSx1Q0FBdUM7QUFBQSxRQUNsRyxTQUFRLE9BQU8sT0FBTyxNQUFNLFVBQVUsS0FBSztBQUFBLEVBQ2xEO0FBQ0EsYUFBVyxTQUFTLFFBQVE7QUFDMUIsUUFBSSxDQUFDLE1BQU0sWUFBWSxNQUFNLFFBQVEsTUFBTztBQUM1QyxRQUFJLFNBQVMsU0FBUyxNQUFNLFlBQVksTUFBTSxTQUFVO0FBQ3hELFFBQUksT0FBTyxDQUFDLEdBQUcsTUFBTSxNQUFNLElBQUksR0FBRyx3Q0FBd0M7QUFBQSxFQUM1RTtBQUNGO0FBRUEsU0FBUyxRQUFRLE9BQWdCLE9BQWMsTUFBWSxVQUE0QixPQUF5QjtBQUM5RyxNQUFJLFNBQVMsVUFBVSxLQUFLLEVBQUc7QUFDL0IsTUFBSSxDQUFDLEtBQUssT0FBTyxNQUFNLElBQUksR0FBRztBQUM1QixRQUFJLE9BQU8sTUFBTSxNQUFNLE9BQU8sS0FBSyxDQUFDLG1CQUFtQixNQUFNLElBQUksRUFBRTtBQUNuRTtBQUFBLEVBQ0Y7QUFDQSxhQUFXLENBQUMsTUFBTSxFQUFFLEtBQUssUUFBUSxPQUFPLElBQUksR0FBRztBQUM3QyxRQUFJLFNBQVMsVUFBVSxJQUFJLEVBQUc7QUFDOUIsUUFBSSxNQUFNLFdBQVcsU0FBUyxRQUFRLENBQUMsTUFBTSxRQUFRLEtBQUssQ0FBQyxRQUFRLE9BQU8sR0FBRyxNQUFNLE9BQU8sSUFBSSxDQUFDO0FBQzdGLFVBQUksT0FBTyxJQUFJLE1BQU0sS0FBSyxVQUFVLElBQUksQ0FBQyxvQkFBb0IsTUFBTSxRQUFRLElBQUksTUFBTSxFQUFFLEtBQUssSUFBSSxDQUFDLEVBQUU7QUFDckcsVUFBTSxTQUFTLE1BQU0sVUFBVSxZQUFZLE1BQU0sTUFBTSxNQUFNO0FBQzdELFFBQUksV0FBVyxPQUFXLEtBQUksT0FBTyxJQUFJLE1BQU0sS0FBSyxVQUFVLElBQUksQ0FBQyxtQkFBbUIsTUFBTSxFQUFFO0FBQzlGLFFBQUksTUFBTSxjQUFjLE9BQVc7QUFDbkMsUUFBSSxNQUFNO0FBQ1I7QUFBQSxRQUNFO0FBQUEsUUFDQSxNQUFNLGFBQWEsSUFBSSxDQUFDLEVBQUUsT0FBTyxNQUFNLE1BQU07QUFBQSxRQUM3QztBQUFBLFFBQ0E7QUFBQSxRQUNBO0FBQUEsTUFDRjtBQUFBLGFBQ08sTUFBTSxPQUFRLFVBQVMsTUFBTSxNQUFNLFFBQVEsSUFBSSxVQUFVLEtBQUs7QUFBQSxFQUN6RTtBQUNGO0FBR0EsU0FBUyxhQUNQLE9BQ0EsUUFDQSxNQUNBLFVBQ0EsT0FDTTtBQUNOLFFBQU0sUUFBUSxPQUFPLElBQUksQ0FBQyxXQUFXO0FBQ25DLFVBQU0sTUFBa0IsQ0FBQztBQUN6QixhQUFTLE9BQU8sUUFBUSxNQUFNLFVBQVUsR0FBRztBQUMzQyxXQUFPO0FBQUEsRUFDVCxDQUFDO0FBQ0QsUUFBTSxPQUFPLE1BQU0sS0FBSyxDQUFDLEdBQUcsTUFBTSxFQUFFLFNBQVMsRUFBRSxNQUFNLEVBQUUsQ0FBQyxLQUFLLENBQUM7QUFDOUQsUUFBTSxLQUFLLEdBQUcsSUFBSTtBQUNwQjtBQUVBLFNBQVMsUUFBUSxPQUFnQixNQUErQjtBQUM5RCxTQUFPLE1BQU0sUUFBUSxLQUFLLElBQUksTUFBTSxJQUFJLENBQUMsTUFBTSxVQUFVLENBQUMsTUFBTSxDQUFDLEdBQUcsTUFBTSxLQUFLLENBQUMsQ0FBQyxJQUFJLENBQUMsQ0FBQyxPQUFPLElBQUksQ0FBQztBQUNyRztBQUVBLFNBQVMsSUFBSSxPQUFtQixNQUFZLE1BQW9CO0FBQzlELFFBQU0sS0FBSyxFQUFFLElBQUksVUFBVSxJQUFJLEdBQUcsTUFBTSxLQUFLLENBQUM7QUFDaEQ7QUFHQSxJQUFNLFlBQVksQ0FBQyxTQUF1QixLQUFLLE9BQWUsV0FBVyxHQUFHO0FBRTVFLElBQU0sU0FBUyxDQUFDLFVBQTJCO0FBQ3pDLFFBQU0sT0FBTyxPQUFPLEtBQUs7QUFDekIsU0FBTyxTQUFTLFNBQVMsU0FBUyxHQUFHLFVBQVUsS0FBSyxJQUFJLElBQUksT0FBTyxHQUFHLElBQUksSUFBSTtBQUNoRjtBQUVBLElBQU0sZUFBaUQ7QUFBQSxFQUNyRCxLQUFLO0FBQUEsRUFDTCxPQUFPO0FBQUEsRUFDUCxTQUFTO0FBQUEsRUFDVCxRQUFRO0FBQ1Y7QUFHQSxTQUFTLEtBQUssT0FBZ0IsTUFBdUI7QUFDbkQsTUFBSSxVQUFVLEtBQUssSUFBSSxFQUFHLFFBQU8sWUFBWSxPQUFPLElBQUk7QUFDeEQsUUFBTSxNQUFNLE9BQU8sS0FBSztBQUN4QixTQUFPLEtBQUssTUFBTSxNQUFNLEVBQUUsS0FBSyxDQUFDLFFBQVE7QUFDdEMsVUFBTSxPQUFPLFVBQVUsS0FBSyxHQUFHLElBQUksQ0FBQztBQUNwQyxRQUFJLFNBQVMsUUFBUyxRQUFPLFFBQVE7QUFDckMsUUFBSSxTQUFTLFNBQVUsUUFBTyxRQUFRLFlBQVksUUFBUTtBQUMxRCxRQUFJLFNBQVMsWUFBWSxTQUFTLFlBQVksU0FBUyxhQUFhLFNBQVMsYUFBYSxTQUFTO0FBQ2pHLGFBQU8sUUFBUTtBQUNqQixXQUFPO0FBQUEsRUFDVCxDQUFDO0FBQ0g7QUFFQSxTQUFTLFlBQVksT0FBZ0IsTUFBdUI7QUFDMUQsUUFBTSxNQUFNLE9BQU8sS0FBSztBQUN4QixNQUFJLFFBQVEsT0FBUSxRQUFPLENBQUMsS0FBSyxTQUFTLEdBQUc7QUFFN0MsTUFBSSxLQUFLLFdBQVcsR0FBRyxFQUFHLFFBQU87QUFDakMsUUFBTSxTQUFTLGFBQWEsS0FBSyxRQUFRLE1BQU0sRUFBRSxDQUFDO0FBQ2xELE1BQUksV0FBVyxPQUFXLFFBQU87QUFDakMsU0FBTyxRQUFRLFVBQVcsV0FBVyxZQUFZLFFBQVE7QUFDM0Q7QUFFQSxTQUFTLFlBQVksT0FBZ0IsUUFBb0M7QUFDdkUsTUFBSSxPQUFPLFVBQVUsVUFBVTtBQUM3QixVQUFNLEVBQUUsWUFBWSxPQUFPLFdBQVcsVUFBVSxNQUFNLE9BQU8sZUFBZSxLQUFLLElBQUk7QUFDckYsUUFBSSxVQUFVLFVBQWEsUUFBUSxNQUFPLFFBQU8sWUFBWSxLQUFLO0FBQ2xFLFFBQUksYUFBYSxVQUFhLFFBQVEsU0FBVSxRQUFPLFdBQVcsUUFBUTtBQUMxRSxRQUFJLFNBQVMsVUFBYSxTQUFTLEtBQU0sUUFBTyxRQUFRLElBQUk7QUFDNUQsUUFBSSxVQUFVLFVBQWEsU0FBUyxNQUFPLFFBQU8sU0FBUyxLQUFLO0FBQ2hFLFFBQUksU0FBUyxVQUFhLEtBQUssSUFBSSxRQUFRLE9BQU8sS0FBSyxNQUFNLFFBQVEsSUFBSSxDQUFDLElBQUksS0FBTSxRQUFPLGlCQUFpQixJQUFJO0FBQUEsRUFDbEg7QUFDQSxNQUFJLE9BQU8sVUFBVSxVQUFVO0FBQzdCLFVBQU0sU0FBUyxDQUFDLEdBQUcsS0FBSyxFQUFFO0FBQzFCLFVBQU0sRUFBRSxnQkFBZ0IsT0FBTyxlQUFlLFNBQVMsSUFBSTtBQUMzRCxRQUFJLFVBQVUsVUFBYSxTQUFTLE1BQU8sUUFBTyxZQUFZLEtBQUs7QUFDbkUsUUFBSSxhQUFhLFVBQWEsU0FBUyxTQUFVLFFBQU8sV0FBVyxRQUFRO0FBQUEsRUFDN0U7QUFDQSxTQUFPO0FBQ1Q7QUFHTyxTQUFTLGFBQWEsT0FBZSxPQUF1RTtBQUNqSCxNQUFJLE1BQU0sUUFBUyxRQUFPLFlBQVksT0FBTyxNQUFNLE9BQU87QUFDMUQsUUFBTSxTQUFTLE1BQU0sS0FBSyxRQUFRLGNBQWMsRUFBRTtBQUNsRCxNQUFJLE1BQU0sV0FBVyxDQUFDLE1BQU0sUUFBUSxLQUFLLENBQUMsUUFBUSxPQUFPLEdBQUcsTUFBTSxLQUFLO0FBQ3JFLFdBQU8sTUFBTSxLQUFLLFVBQVUsS0FBSyxDQUFDLG9CQUFvQixNQUFNLFFBQVEsSUFBSSxNQUFNLEVBQUUsS0FBSyxJQUFJLENBQUM7QUFDNUYsUUFBTSxTQUFTLHNCQUFzQixLQUFLLE1BQU07QUFDaEQsTUFBSSxVQUFVLEVBQUUsT0FBTyxXQUFXLFNBQVMsSUFBSSxZQUFZLHNDQUFzQyxLQUFLLEtBQUs7QUFDekcsV0FBTyxNQUFNLEtBQUssVUFBVSxLQUFLLENBQUMsbUJBQW1CLE1BQU07QUFDN0QsTUFBSSxPQUFPLFdBQVcsU0FBUyxLQUFLLFVBQVUsVUFBVSxVQUFVO0FBQ2hFLFdBQU8sTUFBTSxLQUFLLFVBQVUsS0FBSyxDQUFDO0FBQ3BDLFFBQU0sU0FBUyxNQUFNLFVBQVUsWUFBWSxTQUFTLE9BQU8sS0FBSyxJQUFJLE9BQU8sTUFBTSxNQUFNO0FBQ3ZGLFNBQU8sV0FBVyxTQUFZLFNBQVksTUFBTSxLQUFLLG1CQUFtQixNQUFNO0FBQ2hGOyIsCiAgIm5hbWVzIjogW10KfQo=
