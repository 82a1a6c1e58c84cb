import {
  parseXml
} from "./chunk-MAL2YCX2.js";
import {
  equalValues
} from "./chunk-WDD3S5O6.js";
import {
  textOf
} from "./chunk-ZC7SUIQQ.js";
import {
  parseJson,
  pathBelow
} from "./chunk-RABAPZK5.js";
import {
  isValueMap,
  plain
} from "./chunk-XGDOGID3.js";

// src/core/comparison/counting.ts
function counting(found, ignoring = [], onlyAt = []) {
  const [left, wanted] = [ignoring.map(covering), onlyAt.map(covering)];
  return found.filter(
    ({ at }) => !left.some((covers) => covers(at)) && (wanted.length === 0 || wanted.some((covers) => covers(at)))
  );
}
var covering = (place) => patternOf(place, "(?:$|[.[/])");
var exactly = (place) => patternOf(place, "$");
function patternOf(given, end) {
  const place = given.trim();
  const xpath = place.startsWith("/");
  const escaped = place.replace(/^\/\//, "\0").replace(/[$()+./?\\^{|}[\]]/g, "\\$&").replaceAll("\\[*\\]", '\\[(?:\\d+|\\?(?:"(?:[^"\\\\]|\\\\.)*"|[^\\]"])*)\\]').replaceAll("*", xpath ? "[^/]+" : "\\*").replace("\0", "(?:/.*)?/");
  const anyOfName = xpath && !place.includes("[");
  const pattern = new RegExp(`^${escaped}${end}`, "i");
  return (at) => pattern.test(anyOfName ? at.replace(/\[\d+\]/g, "") : at);
}

// src/core/value/rows.ts
var deepest = 6;
function listsIn(value) {
  const found = [];
  const visit = (here, at, depth) => {
    if (Array.isArray(here)) {
      const items = here;
      if (items.length > 0 && items.every(isValueMap)) found.push({ at, items });
    } else if (isValueMap(here) && depth < deepest) {
      for (const [key, inner] of Object.entries(here)) visit(inner, pathBelow(at, key), depth + 1);
    }
  };
  visit(value, "$", 0);
  return found.sort((a, b) => b.items.length - a.items.length);
}
var looked = 200;
var mostColumns = 30;
function columnsIn(items) {
  const columns = /* @__PURE__ */ new Set();
  const visit = (value, above, depth) => {
    if (!isValueMap(value) || columns.size >= mostColumns) return;
    for (const [key, inner] of Object.entries(value)) {
      if (isValueMap(inner) && Object.keys(inner).length > 0 && depth < 3) visit(inner, `${above}${key}.`, depth + 1);
      else columns.add(`${above}${key}`);
    }
  };
  for (const item of items.slice(0, looked)) visit(item, "", 0);
  return [...columns].slice(0, mostColumns);
}
function cellIn(item, path) {
  if (isValueMap(item) && Object.hasOwn(item, path)) return item[path];
  let value = item;
  for (const key of path.split(".")) {
    if (Array.isArray(value)) value = value[Number(key)];
    else value = isValueMap(value) && Object.hasOwn(value, key) ? value[key] : void 0;
  }
  return value;
}
function cellText(value) {
  if (value === void 0 || plain(value) === null) return "";
  if (Array.isArray(value)) {
    const items = value;
    return items.length <= 4 && items.every((item) => typeof plain(item) !== "object") ? items.map(textOf).join(", ") : `${items.length} items`;
  }
  return isValueMap(value) ? `${Object.keys(value).length} members` : textOf(value);
}

// src/core/comparison/differences.ts
function differencesBetween(left, right, at = "$", unordered = {}) {
  return new Comparing(unordered).values(left, right, at);
}
var Comparing = class {
  keys;
  constructor(unordered) {
    this.keys = Object.entries(unordered).map(([place, key]) => [exactly(place), key]);
  }
  values(left, right, at) {
    if (isValueMap(left) && isValueMap(right)) {
      const keys = /* @__PURE__ */ new Set([...Object.keys(left), ...Object.keys(right)]);
      return [...keys].flatMap((key) => {
        const here = pathBelow(at, key);
        if (!Object.hasOwn(right, key)) return [only(here, "removed", left[key])];
        if (!Object.hasOwn(left, key)) return [only(here, "added", right[key])];
        return this.values(left[key], right[key], here);
      });
    }
    if (Array.isArray(left) && Array.isArray(right)) {
      const [a, b] = [left, right];
      const key = this.keys.find(([covers]) => covers(at))?.[1];
      return key === void 0 ? this.inOrder(a, b, at) : this.byKey(a, b, at, key);
    }
    const same = typeof plain(left) === typeof plain(right) && equalValues(left, right);
    return same ? [] : [{ at, kind: "changed", left, right }];
  }
  inOrder(a, b, at) {
    return Array.from({ length: Math.max(a.length, b.length) }, (_, index) => {
      const here = pathBelow(at, index);
      if (index >= b.length) return [only(here, "removed", a[index])];
      if (index >= a.length) return [only(here, "added", b[index])];
      return this.values(a[index], b[index], here);
    }).flat();
  }
  /** Items with the same key belong together; several of one are taken in order. */
  byKey(a, b, at, key) {
    const path = key.replace(/^\$\.?/, "");
    const keyOf = (item) => {
      const found2 = path === "" ? item : cellIn(item, path);
      return found2 === void 0 ? "" : typeof plain(found2) === "string" ? JSON.stringify(found2) : textOf(found2);
    };
    const others = /* @__PURE__ */ new Map();
    for (const item of b) {
      const own = others.get(keyOf(item));
      if (own) own.push(item);
      else others.set(keyOf(item), [item]);
    }
    const here = (value) => `${at}[?@${path === "" ? "" : `.${path}`} == ${value}]`;
    const found = a.flatMap((item) => {
      const value = keyOf(item);
      const other = others.get(value)?.shift();
      return other === void 0 ? [only(here(value), "removed", item)] : this.values(item, other, here(value));
    });
    for (const [value, items] of others) for (const item of items) found.push(only(here(value), "added", item));
    return found;
  }
};
var only = (at, kind, value) => ({
  at,
  kind,
  left: kind === "removed" ? value : void 0,
  right: kind === "added" ? value : void 0
});

// src/core/comparison/answers.ts
import { diffLines } from "diff";

// src/core/comparison/xml.ts
var xmlns = "http://www.w3.org/2000/xmlns/";
function xmlDifferences(left, right, unordered = {}) {
  const [a, b] = [left.documentElement, right.documentElement];
  if (!a || !b) return [];
  if (nameOf(a) !== nameOf(b)) return [{ at: "/", kind: "changed", left: a.localName ?? "", right: b.localName ?? "" }];
  const keys = Object.entries(unordered).map(([place, key]) => [exactly(place), key]);
  return elements(a, b, `/${a.localName}`, (at) => keys.find(([covers]) => covers(at))?.[1]);
}
function elements(a, b, at, keyOf) {
  const found = attributes(a, b, at);
  const [ours, theirs] = [byName(a), byName(b)];
  for (const name of /* @__PURE__ */ new Set([...ours.keys(), ...theirs.keys()])) {
    const [one, other] = [ours.get(name) ?? [], theirs.get(name) ?? []];
    const path = `${at}/${(one[0] ?? other[0])?.localName}`;
    const several = one.length > 1 || other.length > 1;
    const key = keyOf(path);
    const pairs = key === void 0 ? inOrder(one, other) : byKey(one, other, key);
    for (const { left, right, mark } of pairs) {
      const here = several ? `${path}[${mark}]` : path;
      if (left && right) found.push(...elements(left, right, here, keyOf));
      else if (left) found.push({ at: here, kind: "removed", left: shown(left), right: void 0 });
      else if (right) found.push({ at: here, kind: "added", left: void 0, right: shown(right) });
    }
  }
  if (ours.size === 0 && theirs.size === 0) {
    const [one, other] = [(a.textContent ?? "").trim(), (b.textContent ?? "").trim()];
    if (one !== other) found.push({ at, kind: "changed", left: one, right: other });
  }
  return found;
}
var inOrder = (one, other) => Array.from({ length: Math.max(one.length, other.length) }, (_, index) => ({
  left: one[index],
  right: other[index],
  mark: String(index + 1)
}));
function byKey(one, other, key) {
  const markOf = (element) => {
    if (key.startsWith("@")) return element.getAttribute(key.slice(1)) ?? "";
    if (key === ".") return (element.textContent ?? "").trim();
    return (byName(element, key).values().next().value?.[0]?.textContent ?? "").trim();
  };
  const left = [...other];
  const pairs = one.map((element) => {
    const value = markOf(element);
    const index = left.findIndex((candidate) => markOf(candidate) === value);
    const right = index === -1 ? void 0 : left.splice(index, 1)[0];
    return { left: element, right, mark: `${key} = "${value}"` };
  });
  return [...pairs, ...left.map((right) => ({ left: void 0, right, mark: `${key} = "${markOf(right)}"` }))];
}
function attributes(a, b, at) {
  const [ours, theirs] = [attributesOf(a), attributesOf(b)];
  return [.../* @__PURE__ */ new Set([...ours.keys(), ...theirs.keys()])].flatMap((name) => {
    const [left, right] = [ours.get(name), theirs.get(name)];
    if (left === right) return [];
    const kind = left === void 0 ? "added" : right === void 0 ? "removed" : "changed";
    return [{ at: `${at}/@${name}`, kind, left, right }];
  });
}
function attributesOf(element) {
  const found = /* @__PURE__ */ new Map();
  for (const { name, localName, namespaceURI, value } of element.attributes) {
    if (namespaceURI !== xmlns && name !== "xmlns") found.set(localName ?? name, value);
  }
  return found;
}
function byName(element, only2) {
  const found = /* @__PURE__ */ new Map();
  for (const child of element.childNodes) {
    if (child.nodeType !== 1) continue;
    const one = child;
    if (only2 !== void 0 && one.localName !== only2) continue;
    const others = found.get(nameOf(one));
    if (others) others.push(one);
    else found.set(nameOf(one), [one]);
  }
  return found;
}
var nameOf = ({ namespaceURI, localName }) => `${namespaceURI ?? ""} ${localName}`;
var shown = (element) => {
  const text = element.toString();
  return text.length > 200 ? `${text.slice(0, 200)}\u2026` : text;
};

// src/core/comparison/answers.ts
var everyTime = /* @__PURE__ */ new Set([
  "date",
  "age",
  "connection",
  "keep-alive",
  "content-length",
  "set-cookie",
  "etag",
  "expires",
  "last-modified"
]);
function answerDifferences(left, right, { unordered = {}, ignoring, only: only2 } = {}) {
  const found = [];
  const whole = left.status !== void 0 && right.status !== void 0;
  if (left.status !== void 0 && right.status !== void 0 && left.status !== right.status)
    found.push({ at: "status", kind: "changed", left: left.status, right: right.status });
  const [a, b] = [linesOf(left), linesOf(right)];
  for (const name of whole ? /* @__PURE__ */ new Set([...a.keys(), ...b.keys()]) : []) {
    const [one, other] = [a.get(name), b.get(name)];
    if (one === other) continue;
    const kind = one === void 0 ? "added" : other === void 0 ? "removed" : "changed";
    found.push({ at: `header.${name}`, kind, left: one, right: other });
  }
  found.push(...bodyDifferences(left, right, unordered));
  return counting(found, ignoring, only2);
}
function bodyDifferences(left, right, unordered) {
  const [first, second] = [left.value ?? jsonIn(left.text), right.value ?? jsonIn(right.text)];
  if (first !== void 0 && second !== void 0) return differencesBetween(first, second, "$", unordered);
  const [one, other] = [xmlIn(left.text), xmlIn(right.text)];
  if (one && other) return xmlDifferences(one, other, unordered);
  return textDifferences(left.text, right.text);
}
function xmlIn(text) {
  if (!/^\s*</.test(text) || /^\s*<!doctype html/i.test(text)) return void 0;
  try {
    return parseXml(text, void 0);
  } catch {
    return void 0;
  }
}
function linesOf({ headers }) {
  const lines = /* @__PURE__ */ new Map();
  for (const [given, value] of headers) {
    const name = given.toLowerCase();
    if (everyTime.has(name)) continue;
    const before = lines.get(name);
    lines.set(name, before === void 0 ? value : `${before}, ${value}`);
  }
  return lines;
}
function jsonIn(text) {
  if (!/^\s*[{["\d-]|^\s*(?:true|false|null)\s*$/.test(text)) return void 0;
  try {
    return parseJson(text);
  } catch {
    return void 0;
  }
}
function textDifferences(left, right) {
  const found = [];
  let [here, there] = [1, 1];
  const parts = diffLines(left, right);
  for (const [index, { added, removed, value, count }] of parts.entries()) {
    const lines = value.replace(/\n$/, "").split("\n");
    if (removed) {
      const next = parts[index + 1];
      const others = next?.added ? next.value.replace(/\n$/, "").split("\n") : [];
      for (let line = 0; line < Math.max(lines.length, others.length); line += 1) {
        const [one, other] = [lines[line], others[line]];
        const kind = one === void 0 ? "added" : other === void 0 ? "removed" : "changed";
        found.push({ at: `line ${one === void 0 ? there + line : here + line}`, kind, left: one, right: other });
      }
      here += count;
    } else if (added) {
      if (!parts[index - 1]?.removed)
        for (const [line, text] of lines.entries())
          found.push({ at: `line ${there + line}`, kind: "added", left: void 0, right: text });
      there += count;
    } else {
      here += count;
      there += count;
    }
  }
  return found;
}

export {
  counting,
  covering,
  listsIn,
  columnsIn,
  cellIn,
  cellText,
  differencesBetween,
  answerDifferences,
  textDifferences
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvY29tcGFyaXNvbi9jb3VudGluZy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS92YWx1ZS9yb3dzLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2NvbXBhcmlzb24vZGlmZmVyZW5jZXMudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvY29tcGFyaXNvbi9hbnN3ZXJzLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2NvbXBhcmlzb24veG1sLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogV2hpY2ggZGlmZmVyZW5jZXMgY291bnQ6IHBsYWNlcyB0aGF0IG1heSBkaWZmZXIsIGFuZCBwbGFjZXMgdGhhdCBhbG9uZSBhcmUgbG9va2VkIGF0LiAqL1xuaW1wb3J0IHR5cGUgeyBEaWZmZXJlbmNlIH0gZnJvbSAnLi9kaWZmZXJlbmNlcy5qcyc7XG5cbi8qKiBXaGF0IG9mIGEgY29tcGFyaXNvbiBjb3VudHMuICovXG5leHBvcnQgaW50ZXJmYWNlIENvdW50aW5nIHtcbiAgcmVhZG9ubHkgaWdub3Jpbmc/OiByZWFkb25seSBzdHJpbmdbXSB8IHVuZGVmaW5lZDtcbiAgLyoqIFdoZXJlIGl0IGlzIGdpdmVuLCBub3RoaW5nIGVsc2UgY291bnRzLiAqL1xuICByZWFkb25seSBvbmx5PzogcmVhZG9ubHkgc3RyaW5nW10gfCB1bmRlZmluZWQ7XG59XG5cbi8qKiBBIHBsYWNlIGdpdmVuIHN0YW5kcyBmb3IgYWxsIGJlbG93IGl0IHRvbzsgYFsqXWAgZm9yIGFueSBpdGVtLiBJbiBYUGF0aCBhIHN0ZXAgd2l0aG91dCBgWyBdYCBpcyBhbnkgb2YgdGhhdCBuYW1lLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGNvdW50aW5nKFxuICBmb3VuZDogcmVhZG9ubHkgRGlmZmVyZW5jZVtdLFxuICBpZ25vcmluZzogcmVhZG9ubHkgc3RyaW5nW10gPSBbXSxcbiAgb25seUF0OiByZWFkb25seSBzdHJpbmdbXSA9IFtdLFxuKTogcmVhZG9ubHkgRGlmZmVyZW5jZVtdIHtcbiAgY29uc3QgW2xlZnQsIHdhbnRlZF0gPSBbaWdub3JpbmcubWFwKGNvdmVyaW5nKSwgb25seUF0Lm1hcChjb3ZlcmluZyldO1xuICByZXR1cm4gZm91bmQuZmlsdGVyKFxuICAgICh7IGF0IH0pID0+ICFsZWZ0LnNvbWUoKGNvdmVycykgPT4gY292ZXJzKGF0KSkgJiYgKHdhbnRlZC5sZW5ndGggPT09IDAgfHwgd2FudGVkLnNvbWUoKGNvdmVycykgPT4gY292ZXJzKGF0KSkpLFxuICApO1xufVxuXG4vKiogV2hldGhlciBhIHBsYWNlIGlzIHRoZSBnaXZlbiBvbmUsIG9yIGJlbG93IGl0LiAqL1xuZXhwb3J0IGNvbnN0IGNvdmVyaW5nID0gKHBsYWNlOiBzdHJpbmcpOiAoKGF0OiBzdHJpbmcpID0+IGJvb2xlYW4pID0+IHBhdHRlcm5PZihwbGFjZSwgJyg/OiR8Wy5bL10pJyk7XG5cbi8qKiBXaGV0aGVyIGEgcGxhY2UgaXMgdGhlIGdpdmVuIG9uZS4gKi9cbmV4cG9ydCBjb25zdCBleGFjdGx5ID0gKHBsYWNlOiBzdHJpbmcpOiAoKGF0OiBzdHJpbmcpID0+IGJvb2xlYW4pID0+IHBhdHRlcm5PZihwbGFjZSwgJyQnKTtcblxuZnVuY3Rpb24gcGF0dGVybk9mKGdpdmVuOiBzdHJpbmcsIGVuZDogc3RyaW5nKTogKGF0OiBzdHJpbmcpID0+IGJvb2xlYW4ge1xuICBjb25zdCBwbGFjZSA9IGdpdmVuLnRyaW0oKTtcbiAgY29uc3QgeHBhdGggPSBwbGFjZS5zdGFydHNXaXRoKCcvJyk7XG4gIGNvbnN0IGVzY2FwZWQgPSBwbGFjZVxuICAgIC5yZXBsYWNlKC9eXFwvXFwvLywgJ1xcdTAwMDAnKVxuICAgIC5yZXBsYWNlKC9bJCgpKy4vP1xcXFxee3x9W1xcXV0vZywgJ1xcXFwkJicpXG4gICAgLy8gQW55IGl0ZW0sIGJ5IGl0cyBudW1iZXIgb3IgYnkgaXRzIGtleS5cbiAgICAucmVwbGFjZUFsbCgnXFxcXFsqXFxcXF0nLCAnXFxcXFsoPzpcXFxcZCt8XFxcXD8oPzpcIig/OlteXCJcXFxcXFxcXF18XFxcXFxcXFwuKSpcInxbXlxcXFxdXCJdKSopXFxcXF0nKVxuICAgIC5yZXBsYWNlQWxsKCcqJywgeHBhdGggPyAnW14vXSsnIDogJ1xcXFwqJylcbiAgICAucmVwbGFjZSgnXFx1MDAwMCcsICcoPzovLiopPy8nKTtcbiAgY29uc3QgYW55T2ZOYW1lID0geHBhdGggJiYgIXBsYWNlLmluY2x1ZGVzKCdbJyk7XG4gIGNvbnN0IHBhdHRlcm4gPSBuZXcgUmVnRXhwKGBeJHtlc2NhcGVkfSR7ZW5kfWAsICdpJyk7XG4gIHJldHVybiAoYXQpID0+IHBhdHRlcm4udGVzdChhbnlPZk5hbWUgPyBhdC5yZXBsYWNlKC9cXFtcXGQrXFxdL2csICcnKSA6IGF0KTtcbn1cbiIsICIvKiogUm93cyBhbmQgY29sdW1ucyBpbiBkYXRhOiB3aGljaCBsaXN0cyBpdCBoYXMsIHdoYXQgdGhlaXIgaXRlbXMgaGF2ZSBpbiBjb21tb24sIGFuZCB3aGF0IHN0YW5kcyBpbiBlYWNoIGNlbGwuICovXG5pbXBvcnQgeyBwYXRoQmVsb3cgfSBmcm9tICcuL2pzb24tcGF0aC10ZXh0LmpzJztcbmltcG9ydCB7IHRleHRPZiB9IGZyb20gJy4vdGV4dC5qcyc7XG5pbXBvcnQgeyBpc1ZhbHVlTWFwLCBwbGFpbiwgdHlwZSBWYWx1ZSB9IGZyb20gJy4vd3JpdHRlbi5qcyc7XG5cbmV4cG9ydCBpbnRlcmZhY2UgRm91bmRMaXN0IHtcbiAgLyoqIEpTT05QYXRoLiAqL1xuICByZWFkb25seSBhdDogc3RyaW5nO1xuICByZWFkb25seSBpdGVtczogcmVhZG9ubHkgVmFsdWVbXTtcbn1cblxuY29uc3QgZGVlcGVzdCA9IDY7XG5cbi8qKiBUaGUgbGlzdHMgb2YgbWFwcyBpbiBhIHZhbHVlLCB0aGUgbGFyZ2VzdCBmaXJzdC4gKi9cbmV4cG9ydCBmdW5jdGlvbiBsaXN0c0luKHZhbHVlOiBWYWx1ZSk6IHJlYWRvbmx5IEZvdW5kTGlzdFtdIHtcbiAgY29uc3QgZm91bmQ6IEZvdW5kTGlzdFtdID0gW107XG4gIGNvbnN0IHZpc2l0ID0gKGhlcmU6IFZhbHVlLCBhdDogc3RyaW5nLCBkZXB0aDogbnVtYmVyKTogdm9pZCA9PiB7XG4gICAgaWYgKEFycmF5LmlzQXJyYXkoaGVyZSkpIHtcbiAgICAgIGNvbnN0IGl0ZW1zID0gaGVyZSBhcyByZWFkb25seSBWYWx1ZVtdO1xuICAgICAgaWYgKGl0ZW1zLmxlbmd0aCA+IDAgJiYgaXRlbXMuZXZlcnkoaXNWYWx1ZU1hcCkpIGZvdW5kLnB1c2goeyBhdCwgaXRlbXMgfSk7XG4gICAgfSBlbHNlIGlmIChpc1ZhbHVlTWFwKGhlcmUpICYmIGRlcHRoIDwgZGVlcGVzdCkge1xuICAgICAgZm9yIChjb25zdCBba2V5LCBpbm5lcl0gb2YgT2JqZWN0LmVudHJpZXMoaGVyZSkpIHZpc2l0KGlubmVyLCBwYXRoQmVsb3coYXQsIGtleSksIGRlcHRoICsgMSk7XG4gICAgfVxuICB9O1xuICB2aXNpdCh2YWx1ZSwgJyQnLCAwKTtcbiAgcmV0dXJuIGZvdW5kLnNvcnQoKGEsIGIpID0+IGIuaXRlbXMubGVuZ3RoIC0gYS5pdGVtcy5sZW5ndGgpO1xufVxuXG4vKiogUm93cyB0aGF0IGFyZSBsb29rZWQgYXQgZm9yIGNvbHVtbnM6IHdoYXQgc2hvd3MgdXAgb25seSBsYXRlciBpcyByYXJlLiAqL1xuY29uc3QgbG9va2VkID0gMjAwO1xuY29uc3QgbW9zdENvbHVtbnMgPSAzMDtcblxuLyoqIFBhdGhzIG9mIHRoZSBtZW1iZXJzIG9mIHRoZSBpdGVtcywgbmVzdGVkIG9uZXMgd2l0aCBkb3RzLCBpbiB0aGUgb3JkZXIgaW4gd2hpY2ggdGhleSBmaXJzdCBzdGFuZC4gKi9cbmV4cG9ydCBmdW5jdGlvbiBjb2x1bW5zSW4oaXRlbXM6IHJlYWRvbmx5IFZhbHVlW10pOiByZWFkb25seSBzdHJpbmdbXSB7XG4gIGNvbnN0IGNvbHVtbnMgPSBuZXcgU2V0PHN0cmluZz4oKTtcbiAgY29uc3QgdmlzaXQgPSAodmFsdWU6IFZhbHVlLCBhYm92ZTogc3RyaW5nLCBkZXB0aDogbnVtYmVyKTogdm9pZCA9PiB7XG4gICAgaWYgKCFpc1ZhbHVlTWFwKHZhbHVlKSB8fCBjb2x1bW5zLnNpemUgPj0gbW9zdENvbHVtbnMpIHJldHVybjtcbiAgICBmb3IgKGNvbnN0IFtrZXksIGlubmVyXSBvZiBPYmplY3QuZW50cmllcyh2YWx1ZSkpIHtcbiAgICAgIGlmIChpc1ZhbHVlTWFwKGlubmVyKSAmJiBPYmplY3Qua2V5cyhpbm5lcikubGVuZ3RoID4gMCAmJiBkZXB0aCA8IDMpIHZpc2l0KGlubmVyLCBgJHthYm92ZX0ke2tleX0uYCwgZGVwdGggKyAxKTtcbiAgICAgIGVsc2UgY29sdW1ucy5hZGQoYCR7YWJvdmV9JHtrZXl9YCk7XG4gICAgfVxuICB9O1xuICBmb3IgKGNvbnN0IGl0ZW0gb2YgaXRlbXMuc2xpY2UoMCwgbG9va2VkKSkgdmlzaXQoaXRlbSwgJycsIDApO1xuICByZXR1cm4gWy4uLmNvbHVtbnNdLnNsaWNlKDAsIG1vc3RDb2x1bW5zKTtcbn1cblxuLyoqIFdoYXQgc3RhbmRzIGF0IGEgcGF0aCBpbiBhbiBpdGVtOyB1bmRlZmluZWQgd2hlcmUgbm90aGluZyBkb2VzLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGNlbGxJbihpdGVtOiBWYWx1ZSwgcGF0aDogc3RyaW5nKTogVmFsdWUgfCB1bmRlZmluZWQge1xuICBpZiAoaXNWYWx1ZU1hcChpdGVtKSAmJiBPYmplY3QuaGFzT3duKGl0ZW0sIHBhdGgpKSByZXR1cm4gaXRlbVtwYXRoXSBhcyBWYWx1ZTtcbiAgbGV0IHZhbHVlOiBWYWx1ZSB8IHVuZGVmaW5lZCA9IGl0ZW07XG4gIGZvciAoY29uc3Qga2V5IG9mIHBhdGguc3BsaXQoJy4nKSkge1xuICAgIGlmIChBcnJheS5pc0FycmF5KHZhbHVlKSkgdmFsdWUgPSAodmFsdWUgYXMgcmVhZG9ubHkgVmFsdWVbXSlbTnVtYmVyKGtleSldO1xuICAgIGVsc2UgdmFsdWUgPSBpc1ZhbHVlTWFwKHZhbHVlKSAmJiBPYmplY3QuaGFzT3duKHZhbHVlLCBrZXkpID8gKHZhbHVlW2tleV0gYXMgVmFsdWUpIDogdW5kZWZpbmVkO1xuICB9XG4gIHJldHVybiB2YWx1ZTtcbn1cblxuLyoqIEEgY2VsbCBhcyB0ZXh0OiBlbXB0eSB3aGVyZSBub3RoaW5nIG9yIG51bGwgc3RhbmRzLCBhIGxpc3QgYnkgdGhlIG51bWJlciBvZiBpdHMgaXRlbXMuICovXG5leHBvcnQgZnVuY3Rpb24gY2VsbFRleHQodmFsdWU6IFZhbHVlIHwgdW5kZWZpbmVkKTogc3RyaW5nIHtcbiAgaWYgKHZhbHVlID09PSB1bmRlZmluZWQgfHwgcGxhaW4odmFsdWUpID09PSBudWxsKSByZXR1cm4gJyc7XG4gIGlmIChBcnJheS5pc0FycmF5KHZhbHVlKSkge1xuICAgIGNvbnN0IGl0ZW1zID0gdmFsdWUgYXMgcmVhZG9ubHkgVmFsdWVbXTtcbiAgICByZXR1cm4gaXRlbXMubGVuZ3RoIDw9IDQgJiYgaXRlbXMuZXZlcnkoKGl0ZW0pID0+IHR5cGVvZiBwbGFpbihpdGVtKSAhPT0gJ29iamVjdCcpXG4gICAgICA/IGl0ZW1zLm1hcCh0ZXh0T2YpLmpvaW4oJywgJylcbiAgICAgIDogYCR7aXRlbXMubGVuZ3RofSBpdGVtc2A7XG4gIH1cbiAgcmV0dXJuIGlzVmFsdWVNYXAodmFsdWUpID8gYCR7T2JqZWN0LmtleXModmFsdWUpLmxlbmd0aH0gbWVtYmVyc2AgOiB0ZXh0T2YodmFsdWUpO1xufVxuIiwgIi8qKiBXaGF0IGRpZmZlcnMgYmV0d2VlbiB0d28gdmFsdWVzLCBwbGFjZSBieSBwbGFjZS4gKi9cbmltcG9ydCB7IGVxdWFsVmFsdWVzIH0gZnJvbSAnLi4vdmFsdWUvZXF1YWwuanMnO1xuaW1wb3J0IHsgcGF0aEJlbG93IH0gZnJvbSAnLi4vdmFsdWUvanNvbi1wYXRoLXRleHQuanMnO1xuaW1wb3J0IHsgY2VsbEluIH0gZnJvbSAnLi4vdmFsdWUvcm93cy5qcyc7XG5pbXBvcnQgeyB0ZXh0T2YgfSBmcm9tICcuLi92YWx1ZS90ZXh0LmpzJztcbmltcG9ydCB7IGlzVmFsdWVNYXAsIHBsYWluLCB0eXBlIFZhbHVlIH0gZnJvbSAnLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyBleGFjdGx5IH0gZnJvbSAnLi9jb3VudGluZy5qcyc7XG5cbmV4cG9ydCBpbnRlcmZhY2UgRGlmZmVyZW5jZSB7XG4gIC8qKiBKU09OUGF0aCBmb3IgZGF0YSwgWFBhdGggZm9yIFhNTCwgYHN0YXR1c2AsIGBoZWFkZXIuZXRhZ2AsIGB0aW1lYDsgYGxpbmUgNGAgZm9yIHRleHQuICovXG4gIHJlYWRvbmx5IGF0OiBzdHJpbmc7XG4gIHJlYWRvbmx5IGtpbmQ6ICdjaGFuZ2VkJyB8ICdhZGRlZCcgfCAncmVtb3ZlZCc7XG4gIC8qKiB1bmRlZmluZWQgd2hlcmUgaXQgaXMgb25seSBvbiB0aGUgb3RoZXIgc2lkZS4gKi9cbiAgcmVhZG9ubHkgbGVmdDogVmFsdWUgfCB1bmRlZmluZWQ7XG4gIHJlYWRvbmx5IHJpZ2h0OiBWYWx1ZSB8IHVuZGVmaW5lZDtcbn1cblxuLyoqIExpc3RzIHdob3NlIG9yZGVyIHNheXMgbm90aGluZywgYnkgcGxhY2UsIGVhY2ggd2l0aCB0aGUgcGF0aCBpbiBhbiBpdGVtIHRoYXQgdGVsbHMgaXQgYXBhcnQ6IGAkYCBmb3IgdGhlIGl0ZW0gaXRzZWxmLiAqL1xuZXhwb3J0IHR5cGUgVW5vcmRlcmVkID0gUmVhZG9ubHk8UmVjb3JkPHN0cmluZywgc3RyaW5nPj47XG5cbi8qKiBMaXN0cyBhcmUgY29tcGFyZWQgaXRlbSBieSBpdGVtLCBpbiBvcmRlciB1bmxlc3MgaXQgc2F5cyBub3RoaW5nOyBtYXBzIGJ5IHRoZWlyIGtleXMsIGluIHdoYXRldmVyIG9yZGVyLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGRpZmZlcmVuY2VzQmV0d2VlbihsZWZ0OiBWYWx1ZSwgcmlnaHQ6IFZhbHVlLCBhdCA9ICckJywgdW5vcmRlcmVkOiBVbm9yZGVyZWQgPSB7fSk6IERpZmZlcmVuY2VbXSB7XG4gIHJldHVybiBuZXcgQ29tcGFyaW5nKHVub3JkZXJlZCkudmFsdWVzKGxlZnQsIHJpZ2h0LCBhdCk7XG59XG5cbmNsYXNzIENvbXBhcmluZyB7XG4gIHByaXZhdGUgcmVhZG9ubHkga2V5czogcmVhZG9ubHkgKHJlYWRvbmx5IFtjb3ZlcnM6IChhdDogc3RyaW5nKSA9PiBib29sZWFuLCBrZXk6IHN0cmluZ10pW107XG5cbiAgY29uc3RydWN0b3IodW5vcmRlcmVkOiBVbm9yZGVyZWQpIHtcbiAgICB0aGlzLmtleXMgPSBPYmplY3QuZW50cmllcyh1bm9yZGVyZWQpLm1hcCgoW3BsYWNlLCBrZXldKSA9PiBbZXhhY3RseShwbGFjZSksIGtleV0pO1xuICB9XG5cbiAgdmFsdWVzKGxlZnQ6IFZhbHVlLCByaWdodDogVmFsdWUsIGF0OiBzdHJpbmcpOiBEaWZmZXJlbmNlW10ge1xuICAgIGlmIChpc1ZhbHVlTWFwKGxlZnQpICYmIGlzVmFsdWVNYXAocmlnaHQpKSB7XG4gICAgICBjb25zdCBrZXlzID0gbmV3IFNldChbLi4uT2JqZWN0LmtleXMobGVmdCksIC4uLk9iamVjdC5rZXlzKHJpZ2h0KV0pO1xuICAgICAgcmV0dXJuIFsuLi5rZXlzXS5mbGF0TWFwKChrZXkpID0+IHtcbiAgICAgICAgY29uc3QgaGVyZSA9IHBhdGhCZWxvdyhhdCwga2V5KTtcbiAgICAgICAgaWYgKCFPYmplY3QuaGFzT3duKHJpZ2h0LCBrZXkpKSByZXR1cm4gW29ubHkoaGVyZSwgJ3JlbW92ZWQnLCBsZWZ0W2tleV0gYXMgVmFsdWUpXTtcbiAgICAgICAgaWYgKCFPYmplY3QuaGFzT3duKGxlZnQsIGtleSkpIHJldHVybiBbb25seShoZXJlLCAnYWRkZWQnLCByaWdodFtrZXldIGFzIFZhbHVlKV07XG4gICAgICAgIHJldHVybiB0aGlzLnZhbHVlcyhsZWZ0W2tleV0gYXMgVmFsdWUsIHJpZ2h0W2tleV0gYXMgVmFsdWUsIGhlcmUpO1xuICAgICAgfSk7XG4gICAgfVxuICAgIGlmIChBcnJheS5pc0FycmF5KGxlZnQpICYmIEFycmF5LmlzQXJyYXkocmlnaHQpKSB7XG4gICAgICBjb25zdCBbYSwgYl0gPSBbbGVmdCBhcyByZWFkb25seSBWYWx1ZVtdLCByaWdodCBhcyByZWFkb25seSBWYWx1ZVtdXTtcbiAgICAgIGNvbnN0IGtleSA9IHRoaXMua2V5cy5maW5kKChbY292ZXJzXSkgPT4gY292ZXJzKGF0KSk/LlsxXTtcbiAgICAgIHJldHVybiBrZXkgPT09IHVuZGVmaW5lZCA/IHRoaXMuaW5PcmRlcihhLCBiLCBhdCkgOiB0aGlzLmJ5S2V5KGEsIGIsIGF0LCBrZXkpO1xuICAgIH1cbiAgICAvLyBUaGUgdHlwZSBjb3VudHM6IDEgaXMgbm90IFwiMVwiLlxuICAgIGNvbnN0IHNhbWUgPSB0eXBlb2YgcGxhaW4obGVmdCkgPT09IHR5cGVvZiBwbGFpbihyaWdodCkgJiYgZXF1YWxWYWx1ZXMobGVmdCwgcmlnaHQpO1xuICAgIHJldHVybiBzYW1lID8gW10gOiBbeyBhdCwga2luZDogJ2NoYW5nZWQnLCBsZWZ0LCByaWdodCB9XTtcbiAgfVxuXG4gIHByaXZhdGUgaW5PcmRlcihhOiByZWFkb25seSBWYWx1ZVtdLCBiOiByZWFkb25seSBWYWx1ZVtdLCBhdDogc3RyaW5nKTogRGlmZmVyZW5jZVtdIHtcbiAgICByZXR1cm4gQXJyYXkuZnJvbSh7IGxlbmd0aDogTWF0aC5tYXgoYS5sZW5ndGgsIGIubGVuZ3RoKSB9LCAoXywgaW5kZXgpID0+IHtcbiAgICAgIGNvbnN0IGhlcmUgPSBwYXRoQmVsb3coYXQsIGluZGV4KTtcbiAgICAgIGlmIChpbmRleCA+PSBiLmxlbmd0aCkgcmV0dXJuIFtvbmx5KGhlcmUsICdyZW1vdmVkJywgYVtpbmRleF0gYXMgVmFsdWUpXTtcbiAgICAgIGlmIChpbmRleCA+PSBhLmxlbmd0aCkgcmV0dXJuIFtvbmx5KGhlcmUsICdhZGRlZCcsIGJbaW5kZXhdIGFzIFZhbHVlKV07XG4gICAgICByZXR1cm4gdGhpcy52YWx1ZXMoYVtpbmRleF0gYXMgVmFsdWUsIGJbaW5kZXhdIGFzIFZhbHVlLCBoZXJlKTtcbiAgICB9KS5mbGF0KCk7XG4gIH1cblxuICAvKiogSXRlbXMgd2l0aCB0aGUgc2FtZSBrZXkgYmVsb25nIHRvZ2V0aGVyOyBzZXZlcmFsIG9mIG9uZSBhcmUgdGFrZW4gaW4gb3JkZXIuICovXG4gIHByaXZhdGUgYnlLZXkoYTogcmVhZG9ubHkgVmFsdWVbXSwgYjogcmVhZG9ubHkgVmFsdWVbXSwgYXQ6IHN0cmluZywga2V5OiBzdHJpbmcpOiBEaWZmZXJlbmNlW10ge1xuICAgIGNvbnN0IHBhdGggPSBrZXkucmVwbGFjZSgvXlxcJFxcLj8vLCAnJyk7XG4gICAgY29uc3Qga2V5T2YgPSAoaXRlbTogVmFsdWUpOiBzdHJpbmcgPT4ge1xuICAgICAgY29uc3QgZm91bmQgPSBwYXRoID09PSAnJyA/IGl0ZW0gOiBjZWxsSW4oaXRlbSwgcGF0aCk7XG4gICAgICByZXR1cm4gZm91bmQgPT09IHVuZGVmaW5lZCA/ICcnIDogdHlwZW9mIHBsYWluKGZvdW5kKSA9PT0gJ3N0cmluZycgPyBKU09OLnN0cmluZ2lmeShmb3VuZCkgOiB0ZXh0T2YoZm91bmQpO1xuICAgIH07XG4gICAgY29uc3Qgb3RoZXJzID0gbmV3IE1hcDxzdHJpbmcsIFZhbHVlW10+KCk7XG4gICAgZm9yIChjb25zdCBpdGVtIG9mIGIpIHtcbiAgICAgIGNvbnN0IG93biA9IG90aGVycy5nZXQoa2V5T2YoaXRlbSkpO1xuICAgICAgaWYgKG93bikgb3duLnB1c2goaXRlbSk7XG4gICAgICBlbHNlIG90aGVycy5zZXQoa2V5T2YoaXRlbSksIFtpdGVtXSk7XG4gICAgfVxuICAgIGNvbnN0IGhlcmUgPSAodmFsdWU6IHN0cmluZyk6IHN0cmluZyA9PiBgJHthdH1bP0Ake3BhdGggPT09ICcnID8gJycgOiBgLiR7cGF0aH1gfSA9PSAke3ZhbHVlfV1gO1xuICAgIGNvbnN0IGZvdW5kID0gYS5mbGF0TWFwKChpdGVtKSA9PiB7XG4gICAgICBjb25zdCB2YWx1ZSA9IGtleU9mKGl0ZW0pO1xuICAgICAgY29uc3Qgb3RoZXIgPSBvdGhlcnMuZ2V0KHZhbHVlKT8uc2hpZnQoKTtcbiAgICAgIHJldHVybiBvdGhlciA9PT0gdW5kZWZpbmVkID8gW29ubHkoaGVyZSh2YWx1ZSksICdyZW1vdmVkJywgaXRlbSldIDogdGhpcy52YWx1ZXMoaXRlbSwgb3RoZXIsIGhlcmUodmFsdWUpKTtcbiAgICB9KTtcbiAgICBmb3IgKGNvbnN0IFt2YWx1ZSwgaXRlbXNdIG9mIG90aGVycykgZm9yIChjb25zdCBpdGVtIG9mIGl0ZW1zKSBmb3VuZC5wdXNoKG9ubHkoaGVyZSh2YWx1ZSksICdhZGRlZCcsIGl0ZW0pKTtcbiAgICByZXR1cm4gZm91bmQ7XG4gIH1cbn1cblxuY29uc3Qgb25seSA9IChhdDogc3RyaW5nLCBraW5kOiAnYWRkZWQnIHwgJ3JlbW92ZWQnLCB2YWx1ZTogVmFsdWUpOiBEaWZmZXJlbmNlID0+ICh7XG4gIGF0LFxuICBraW5kLFxuICBsZWZ0OiBraW5kID09PSAncmVtb3ZlZCcgPyB2YWx1ZSA6IHVuZGVmaW5lZCxcbiAgcmlnaHQ6IGtpbmQgPT09ICdhZGRlZCcgPyB2YWx1ZSA6IHVuZGVmaW5lZCxcbn0pO1xuIiwgIi8qKiBXaGF0IGRpZmZlcnMgYmV0d2VlbiB0d28gYW5zd2Vyczogc3RhdHVzLCBoZWFkZXIgbGluZXMsIHRpbWUsIGFuZCB0aGUgYm9keSBieSBpdHMgc3RydWN0dXJlLiAqL1xuaW1wb3J0IHsgZGlmZkxpbmVzIH0gZnJvbSAnZGlmZic7XG5pbXBvcnQgeyBwYXJzZVhtbCB9IGZyb20gJy4uL3BsYWNlL3htbC1kb2N1bWVudC5qcyc7XG5pbXBvcnQgeyBwYXJzZUpzb24gfSBmcm9tICcuLi92YWx1ZS9qc29uLXRleHQuanMnO1xuaW1wb3J0IHR5cGUgeyBWYWx1ZSB9IGZyb20gJy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHsgdHlwZSBDb3VudGluZywgY291bnRpbmcgfSBmcm9tICcuL2NvdW50aW5nLmpzJztcbmltcG9ydCB7IHR5cGUgRGlmZmVyZW5jZSwgZGlmZmVyZW5jZXNCZXR3ZWVuLCB0eXBlIFVub3JkZXJlZCB9IGZyb20gJy4vZGlmZmVyZW5jZXMuanMnO1xuaW1wb3J0IHsgeG1sRGlmZmVyZW5jZXMgfSBmcm9tICcuL3htbC5qcyc7XG5cbmV4cG9ydCBpbnRlcmZhY2UgQ29tcGFyZWRBbnN3ZXIge1xuICAvKiogdW5kZWZpbmVkIG9mIGEgZG9jdW1lbnQ6IHRoZW4gb25seSBib2RpZXMgYXJlIGNvbXBhcmVkLiAqL1xuICByZWFkb25seSBzdGF0dXM6IG51bWJlciB8IHVuZGVmaW5lZDtcbiAgcmVhZG9ubHkgaGVhZGVyczogcmVhZG9ubHkgKHJlYWRvbmx5IFtuYW1lOiBzdHJpbmcsIHZhbHVlOiBzdHJpbmddKVtdO1xuICAvKiogRGVjb2RlZC4gKi9cbiAgcmVhZG9ubHkgdGV4dDogc3RyaW5nO1xuICAvKiogSW4gcGxhY2Ugb2YgdGhlIHRleHQ6IGEgdmFsdWUgdGhhdCB3YXMga2VwdC4gKi9cbiAgcmVhZG9ubHkgdmFsdWU/OiBWYWx1ZSB8IHVuZGVmaW5lZDtcbiAgLyoqIE1pbGxpc2Vjb25kcyB0aGF0IHRoZSBhbnN3ZXIgdG9vay4gKi9cbiAgcmVhZG9ubHkgdGltZT86IG51bWJlciB8IHVuZGVmaW5lZDtcbn1cblxuZXhwb3J0IGludGVyZmFjZSBDb21wYXJpc29uIGV4dGVuZHMgQ291bnRpbmcge1xuICByZWFkb25seSB1bm9yZGVyZWQ/OiBVbm9yZGVyZWQgfCB1bmRlZmluZWQ7XG59XG5cbi8qKiBUaGV5IGRpZmZlciBiZXR3ZWVuIGFueSB0d28gYW5zd2VycywgYW5kIHNheSBub3RoaW5nLiAqL1xuY29uc3QgZXZlcnlUaW1lID0gbmV3IFNldChbXG4gICdkYXRlJyxcbiAgJ2FnZScsXG4gICdjb25uZWN0aW9uJyxcbiAgJ2tlZXAtYWxpdmUnLFxuICAnY29udGVudC1sZW5ndGgnLFxuICAnc2V0LWNvb2tpZScsXG4gICdldGFnJyxcbiAgJ2V4cGlyZXMnLFxuICAnbGFzdC1tb2RpZmllZCcsXG5dKTtcblxuZXhwb3J0IGZ1bmN0aW9uIGFuc3dlckRpZmZlcmVuY2VzKFxuICBsZWZ0OiBDb21wYXJlZEFuc3dlcixcbiAgcmlnaHQ6IENvbXBhcmVkQW5zd2VyLFxuICB7IHVub3JkZXJlZCA9IHt9LCBpZ25vcmluZywgb25seSB9OiBDb21wYXJpc29uID0ge30sXG4pOiByZWFkb25seSBEaWZmZXJlbmNlW10ge1xuICBjb25zdCBmb3VuZDogRGlmZmVyZW5jZVtdID0gW107XG4gIGNvbnN0IHdob2xlID0gbGVmdC5zdGF0dXMgIT09IHVuZGVmaW5lZCAmJiByaWdodC5zdGF0dXMgIT09IHVuZGVmaW5lZDtcbiAgaWYgKGxlZnQuc3RhdHVzICE9PSB1bmRlZmluZWQgJiYgcmlnaHQuc3RhdHVzICE9PSB1bmRlZmluZWQgJiYgbGVmdC5zdGF0dXMgIT09IHJpZ2h0LnN0YXR1cylcbiAgICBmb3VuZC5wdXNoKHsgYXQ6ICdzdGF0dXMnLCBraW5kOiAnY2hhbmdlZCcsIGxlZnQ6IGxlZnQuc3RhdHVzLCByaWdodDogcmlnaHQuc3RhdHVzIH0pO1xuICBjb25zdCBbYSwgYl0gPSBbbGluZXNPZihsZWZ0KSwgbGluZXNPZihyaWdodCldO1xuICBmb3IgKGNvbnN0IG5hbWUgb2Ygd2hvbGUgPyBuZXcgU2V0KFsuLi5hLmtleXMoKSwgLi4uYi5rZXlzKCldKSA6IFtdKSB7XG4gICAgY29uc3QgW29uZSwgb3RoZXJdID0gW2EuZ2V0KG5hbWUpLCBiLmdldChuYW1lKV07XG4gICAgaWYgKG9uZSA9PT0gb3RoZXIpIGNvbnRpbnVlO1xuICAgIGNvbnN0IGtpbmQgPSBvbmUgPT09IHVuZGVmaW5lZCA/ICdhZGRlZCcgOiBvdGhlciA9PT0gdW5kZWZpbmVkID8gJ3JlbW92ZWQnIDogJ2NoYW5nZWQnO1xuICAgIGZvdW5kLnB1c2goeyBhdDogYGhlYWRlci4ke25hbWV9YCwga2luZCwgbGVmdDogb25lLCByaWdodDogb3RoZXIgfSk7XG4gIH1cbiAgZm91bmQucHVzaCguLi5ib2R5RGlmZmVyZW5jZXMobGVmdCwgcmlnaHQsIHVub3JkZXJlZCkpO1xuICByZXR1cm4gY291bnRpbmcoZm91bmQsIGlnbm9yaW5nLCBvbmx5KTtcbn1cblxuLyoqIEJ5IHN0cnVjdHVyZSB3aGVyZSBib3RoIGFyZSBKU09OLCBvciBib3RoIFhNTDsgZWxzZSBieSBsaW5lcy4gKi9cbmZ1bmN0aW9uIGJvZHlEaWZmZXJlbmNlcyhsZWZ0OiBDb21wYXJlZEFuc3dlciwgcmlnaHQ6IENvbXBhcmVkQW5zd2VyLCB1bm9yZGVyZWQ6IFVub3JkZXJlZCk6IERpZmZlcmVuY2VbXSB7XG4gIGNvbnN0IFtmaXJzdCwgc2Vjb25kXSA9IFtsZWZ0LnZhbHVlID8/IGpzb25JbihsZWZ0LnRleHQpLCByaWdodC52YWx1ZSA/PyBqc29uSW4ocmlnaHQudGV4dCldO1xuICBpZiAoZmlyc3QgIT09IHVuZGVmaW5lZCAmJiBzZWNvbmQgIT09IHVuZGVmaW5lZCkgcmV0dXJuIGRpZmZlcmVuY2VzQmV0d2VlbihmaXJzdCwgc2Vjb25kLCAnJCcsIHVub3JkZXJlZCk7XG4gIGNvbnN0IFtvbmUsIG90aGVyXSA9IFt4bWxJbihsZWZ0LnRleHQpLCB4bWxJbihyaWdodC50ZXh0KV07XG4gIGlmIChvbmUgJiYgb3RoZXIpIHJldHVybiB4bWxEaWZmZXJlbmNlcyhvbmUsIG90aGVyLCB1bm9yZGVyZWQpO1xuICByZXR1cm4gdGV4dERpZmZlcmVuY2VzKGxlZnQudGV4dCwgcmlnaHQudGV4dCk7XG59XG5cbmZ1bmN0aW9uIHhtbEluKHRleHQ6IHN0cmluZyk6IFJldHVyblR5cGU8dHlwZW9mIHBhcnNlWG1sPiB8IHVuZGVmaW5lZCB7XG4gIGlmICghL15cXHMqPC8udGVzdCh0ZXh0KSB8fCAvXlxccyo8IWRvY3R5cGUgaHRtbC9pLnRlc3QodGV4dCkpIHJldHVybiB1bmRlZmluZWQ7XG4gIHRyeSB7XG4gICAgcmV0dXJuIHBhcnNlWG1sKHRleHQsIHVuZGVmaW5lZCk7XG4gIH0gY2F0Y2gge1xuICAgIHJldHVybiB1bmRlZmluZWQ7XG4gIH1cbn1cblxuZnVuY3Rpb24gbGluZXNPZih7IGhlYWRlcnMgfTogQ29tcGFyZWRBbnN3ZXIpOiBNYXA8c3RyaW5nLCBzdHJpbmc+IHtcbiAgY29uc3QgbGluZXMgPSBuZXcgTWFwPHN0cmluZywgc3RyaW5nPigpO1xuICBmb3IgKGNvbnN0IFtnaXZlbiwgdmFsdWVdIG9mIGhlYWRlcnMpIHtcbiAgICBjb25zdCBuYW1lID0gZ2l2ZW4udG9Mb3dlckNhc2UoKTtcbiAgICBpZiAoZXZlcnlUaW1lLmhhcyhuYW1lKSkgY29udGludWU7XG4gICAgY29uc3QgYmVmb3JlID0gbGluZXMuZ2V0KG5hbWUpO1xuICAgIGxpbmVzLnNldChuYW1lLCBiZWZvcmUgPT09IHVuZGVmaW5lZCA/IHZhbHVlIDogYCR7YmVmb3JlfSwgJHt2YWx1ZX1gKTtcbiAgfVxuICByZXR1cm4gbGluZXM7XG59XG5cbmZ1bmN0aW9uIGpzb25Jbih0ZXh0OiBzdHJpbmcpOiBWYWx1ZSB8IHVuZGVmaW5lZCB7XG4gIGlmICghL15cXHMqW3tbXCJcXGQtXXxeXFxzKig/OnRydWV8ZmFsc2V8bnVsbClcXHMqJC8udGVzdCh0ZXh0KSkgcmV0dXJuIHVuZGVmaW5lZDtcbiAgdHJ5IHtcbiAgICByZXR1cm4gcGFyc2VKc29uKHRleHQpO1xuICB9IGNhdGNoIHtcbiAgICByZXR1cm4gdW5kZWZpbmVkO1xuICB9XG59XG5cbi8qKiBCeSBsaW5lczsgdGhlIHBsYWNlIGlzIHRoZSBsaW5lIG9mIHRoZSBmaXJzdCwgb3Igb2YgdGhlIHNlY29uZCB3aGVyZSBpdCBpcyBvbmx5IHRoZXJlLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHRleHREaWZmZXJlbmNlcyhsZWZ0OiBzdHJpbmcsIHJpZ2h0OiBzdHJpbmcpOiBEaWZmZXJlbmNlW10ge1xuICBjb25zdCBmb3VuZDogRGlmZmVyZW5jZVtdID0gW107XG4gIGxldCBbaGVyZSwgdGhlcmVdID0gWzEsIDFdO1xuICBjb25zdCBwYXJ0cyA9IGRpZmZMaW5lcyhsZWZ0LCByaWdodCk7XG4gIGZvciAoY29uc3QgW2luZGV4LCB7IGFkZGVkLCByZW1vdmVkLCB2YWx1ZSwgY291bnQgfV0gb2YgcGFydHMuZW50cmllcygpKSB7XG4gICAgY29uc3QgbGluZXMgPSB2YWx1ZS5yZXBsYWNlKC9cXG4kLywgJycpLnNwbGl0KCdcXG4nKTtcbiAgICBpZiAocmVtb3ZlZCkge1xuICAgICAgY29uc3QgbmV4dCA9IHBhcnRzW2luZGV4ICsgMV07XG4gICAgICBjb25zdCBvdGhlcnMgPSBuZXh0Py5hZGRlZCA/IG5leHQudmFsdWUucmVwbGFjZSgvXFxuJC8sICcnKS5zcGxpdCgnXFxuJykgOiBbXTtcbiAgICAgIGZvciAobGV0IGxpbmUgPSAwOyBsaW5lIDwgTWF0aC5tYXgobGluZXMubGVuZ3RoLCBvdGhlcnMubGVuZ3RoKTsgbGluZSArPSAxKSB7XG4gICAgICAgIGNvbnN0IFtvbmUsIG90aGVyXSA9IFtsaW5lc1tsaW5lXSwgb3RoZXJzW2xpbmVdXTtcbiAgICAgICAgY29uc3Qga2luZCA9IG9uZSA9PT0gdW5kZWZpbmVkID8gJ2FkZGVkJyA6IG90aGVyID09PSB1bmRlZmluZWQgPyAncmVtb3ZlZCcgOiAnY2hhbmdlZCc7XG4gICAgICAgIGZvdW5kLnB1c2goeyBhdDogYGxpbmUgJHtvbmUgPT09IHVuZGVmaW5lZCA/IHRoZXJlICsgbGluZSA6IGhlcmUgKyBsaW5lfWAsIGtpbmQsIGxlZnQ6IG9uZSwgcmlnaHQ6IG90aGVyIH0pO1xuICAgICAgfVxuICAgICAgaGVyZSArPSBjb3VudDtcbiAgICB9IGVsc2UgaWYgKGFkZGVkKSB7XG4gICAgICAvLyBXaXRoIHRoZSBsaW5lcyB0aGF0IGl0IHRvb2sgdGhlIHBsYWNlIG9mLCB1bmxlc3MgaXQgdG9vayBub25lLlxuICAgICAgaWYgKCFwYXJ0c1tpbmRleCAtIDFdPy5yZW1vdmVkKVxuICAgICAgICBmb3IgKGNvbnN0IFtsaW5lLCB0ZXh0XSBvZiBsaW5lcy5lbnRyaWVzKCkpXG4gICAgICAgICAgZm91bmQucHVzaCh7IGF0OiBgbGluZSAke3RoZXJlICsgbGluZX1gLCBraW5kOiAnYWRkZWQnLCBsZWZ0OiB1bmRlZmluZWQsIHJpZ2h0OiB0ZXh0IH0pO1xuICAgICAgdGhlcmUgKz0gY291bnQ7XG4gICAgfSBlbHNlIHtcbiAgICAgIGhlcmUgKz0gY291bnQ7XG4gICAgICB0aGVyZSArPSBjb3VudDtcbiAgICB9XG4gIH1cbiAgcmV0dXJuIGZvdW5kO1xufVxuIiwgIi8qKiBXaGF0IGRpZmZlcnMgYmV0d2VlbiB0d28gWE1MIGRvY3VtZW50cywgYnkgZWxlbWVudHMsIGF0dHJpYnV0ZXMgYW5kIHRleHQ6IHRoZWlyIGZvcm1hdHRpbmcgYW5kIHByZWZpeGVzIHNheSBub3RoaW5nLiAqL1xuaW1wb3J0IHR5cGUgeyBEb2N1bWVudCwgRWxlbWVudCB9IGZyb20gJ0B4bWxkb20veG1sZG9tJztcbmltcG9ydCB7IGV4YWN0bHkgfSBmcm9tICcuL2NvdW50aW5nLmpzJztcbmltcG9ydCB0eXBlIHsgRGlmZmVyZW5jZSwgVW5vcmRlcmVkIH0gZnJvbSAnLi9kaWZmZXJlbmNlcy5qcyc7XG5cbmNvbnN0IHhtbG5zID0gJ2h0dHA6Ly93d3cudzMub3JnLzIwMDAveG1sbnMvJztcblxuZXhwb3J0IGZ1bmN0aW9uIHhtbERpZmZlcmVuY2VzKGxlZnQ6IERvY3VtZW50LCByaWdodDogRG9jdW1lbnQsIHVub3JkZXJlZDogVW5vcmRlcmVkID0ge30pOiBEaWZmZXJlbmNlW10ge1xuICBjb25zdCBbYSwgYl0gPSBbbGVmdC5kb2N1bWVudEVsZW1lbnQsIHJpZ2h0LmRvY3VtZW50RWxlbWVudF07XG4gIGlmICghYSB8fCAhYikgcmV0dXJuIFtdO1xuICBpZiAobmFtZU9mKGEpICE9PSBuYW1lT2YoYikpIHJldHVybiBbeyBhdDogJy8nLCBraW5kOiAnY2hhbmdlZCcsIGxlZnQ6IGEubG9jYWxOYW1lID8/ICcnLCByaWdodDogYi5sb2NhbE5hbWUgPz8gJycgfV07XG4gIGNvbnN0IGtleXMgPSBPYmplY3QuZW50cmllcyh1bm9yZGVyZWQpLm1hcCgoW3BsYWNlLCBrZXldKSA9PiBbZXhhY3RseShwbGFjZSksIGtleV0gYXMgY29uc3QpO1xuICByZXR1cm4gZWxlbWVudHMoYSwgYiwgYC8ke2EubG9jYWxOYW1lfWAsIChhdCkgPT4ga2V5cy5maW5kKChbY292ZXJzXSkgPT4gY292ZXJzKGF0KSk/LlsxXSk7XG59XG5cbi8qKiBUd28gZWxlbWVudHMgb2Ygb25lIG5hbWUuIEBwYXJhbSBrZXlPZiB3aGF0IHRlbGxzIGFwYXJ0IHRob3NlIHdob3NlIG9yZGVyIHNheXMgbm90aGluZyAqL1xuZnVuY3Rpb24gZWxlbWVudHMoYTogRWxlbWVudCwgYjogRWxlbWVudCwgYXQ6IHN0cmluZywga2V5T2Y6IChhdDogc3RyaW5nKSA9PiBzdHJpbmcgfCB1bmRlZmluZWQpOiBEaWZmZXJlbmNlW10ge1xuICBjb25zdCBmb3VuZCA9IGF0dHJpYnV0ZXMoYSwgYiwgYXQpO1xuICBjb25zdCBbb3VycywgdGhlaXJzXSA9IFtieU5hbWUoYSksIGJ5TmFtZShiKV07XG4gIGZvciAoY29uc3QgbmFtZSBvZiBuZXcgU2V0KFsuLi5vdXJzLmtleXMoKSwgLi4udGhlaXJzLmtleXMoKV0pKSB7XG4gICAgY29uc3QgW29uZSwgb3RoZXJdID0gW291cnMuZ2V0KG5hbWUpID8/IFtdLCB0aGVpcnMuZ2V0KG5hbWUpID8/IFtdXTtcbiAgICBjb25zdCBwYXRoID0gYCR7YXR9LyR7KG9uZVswXSA/PyBvdGhlclswXSk/LmxvY2FsTmFtZX1gO1xuICAgIGNvbnN0IHNldmVyYWwgPSBvbmUubGVuZ3RoID4gMSB8fCBvdGhlci5sZW5ndGggPiAxO1xuICAgIGNvbnN0IGtleSA9IGtleU9mKHBhdGgpO1xuICAgIGNvbnN0IHBhaXJzID0ga2V5ID09PSB1bmRlZmluZWQgPyBpbk9yZGVyKG9uZSwgb3RoZXIpIDogYnlLZXkob25lLCBvdGhlciwga2V5KTtcbiAgICBmb3IgKGNvbnN0IHsgbGVmdCwgcmlnaHQsIG1hcmsgfSBvZiBwYWlycykge1xuICAgICAgY29uc3QgaGVyZSA9IHNldmVyYWwgPyBgJHtwYXRofVske21hcmt9XWAgOiBwYXRoO1xuICAgICAgaWYgKGxlZnQgJiYgcmlnaHQpIGZvdW5kLnB1c2goLi4uZWxlbWVudHMobGVmdCwgcmlnaHQsIGhlcmUsIGtleU9mKSk7XG4gICAgICBlbHNlIGlmIChsZWZ0KSBmb3VuZC5wdXNoKHsgYXQ6IGhlcmUsIGtpbmQ6ICdyZW1vdmVkJywgbGVmdDogc2hvd24obGVmdCksIHJpZ2h0OiB1bmRlZmluZWQgfSk7XG4gICAgICBlbHNlIGlmIChyaWdodCkgZm91bmQucHVzaCh7IGF0OiBoZXJlLCBraW5kOiAnYWRkZWQnLCBsZWZ0OiB1bmRlZmluZWQsIHJpZ2h0OiBzaG93bihyaWdodCkgfSk7XG4gICAgfVxuICB9XG4gIGlmIChvdXJzLnNpemUgPT09IDAgJiYgdGhlaXJzLnNpemUgPT09IDApIHtcbiAgICBjb25zdCBbb25lLCBvdGhlcl0gPSBbKGEudGV4dENvbnRlbnQgPz8gJycpLnRyaW0oKSwgKGIudGV4dENvbnRlbnQgPz8gJycpLnRyaW0oKV07XG4gICAgaWYgKG9uZSAhPT0gb3RoZXIpIGZvdW5kLnB1c2goeyBhdCwga2luZDogJ2NoYW5nZWQnLCBsZWZ0OiBvbmUsIHJpZ2h0OiBvdGhlciB9KTtcbiAgfVxuICByZXR1cm4gZm91bmQ7XG59XG5cbmludGVyZmFjZSBQYWlyIHtcbiAgcmVhZG9ubHkgbGVmdDogRWxlbWVudCB8IHVuZGVmaW5lZDtcbiAgcmVhZG9ubHkgcmlnaHQ6IEVsZW1lbnQgfCB1bmRlZmluZWQ7XG4gIC8qKiBXaGF0IHN0YW5kcyBpbiB0aGUgYnJhY2tldHMgb2YgaXRzIHBhdGguICovXG4gIHJlYWRvbmx5IG1hcms6IHN0cmluZztcbn1cblxuY29uc3QgaW5PcmRlciA9IChvbmU6IHJlYWRvbmx5IEVsZW1lbnRbXSwgb3RoZXI6IHJlYWRvbmx5IEVsZW1lbnRbXSk6IFBhaXJbXSA9PlxuICBBcnJheS5mcm9tKHsgbGVuZ3RoOiBNYXRoLm1heChvbmUubGVuZ3RoLCBvdGhlci5sZW5ndGgpIH0sIChfLCBpbmRleCkgPT4gKHtcbiAgICBsZWZ0OiBvbmVbaW5kZXhdLFxuICAgIHJpZ2h0OiBvdGhlcltpbmRleF0sXG4gICAgbWFyazogU3RyaW5nKGluZGV4ICsgMSksXG4gIH0pKTtcblxuLyoqIEBwYXJhbSBrZXkgYEBudW1iZXJgLCB0aGUgbmFtZSBvZiBhIGNoaWxkLCBvciBgLmAgZm9yIHRoZSB0ZXh0ICovXG5mdW5jdGlvbiBieUtleShvbmU6IHJlYWRvbmx5IEVsZW1lbnRbXSwgb3RoZXI6IHJlYWRvbmx5IEVsZW1lbnRbXSwga2V5OiBzdHJpbmcpOiBQYWlyW10ge1xuICBjb25zdCBtYXJrT2YgPSAoZWxlbWVudDogRWxlbWVudCk6IHN0cmluZyA9PiB7XG4gICAgaWYgKGtleS5zdGFydHNXaXRoKCdAJykpIHJldHVybiBlbGVtZW50LmdldEF0dHJpYnV0ZShrZXkuc2xpY2UoMSkpID8/ICcnO1xuICAgIGlmIChrZXkgPT09ICcuJykgcmV0dXJuIChlbGVtZW50LnRleHRDb250ZW50ID8/ICcnKS50cmltKCk7XG4gICAgcmV0dXJuIChieU5hbWUoZWxlbWVudCwga2V5KS52YWx1ZXMoKS5uZXh0KCkudmFsdWU/LlswXT8udGV4dENvbnRlbnQgPz8gJycpLnRyaW0oKTtcbiAgfTtcbiAgY29uc3QgbGVmdCA9IFsuLi5vdGhlcl07XG4gIGNvbnN0IHBhaXJzID0gb25lLm1hcCgoZWxlbWVudCk6IFBhaXIgPT4ge1xuICAgIGNvbnN0IHZhbHVlID0gbWFya09mKGVsZW1lbnQpO1xuICAgIGNvbnN0IGluZGV4ID0gbGVmdC5maW5kSW5kZXgoKGNhbmRpZGF0ZSkgPT4gbWFya09mKGNhbmRpZGF0ZSkgPT09IHZhbHVlKTtcbiAgICBjb25zdCByaWdodCA9IGluZGV4ID09PSAtMSA/IHVuZGVmaW5lZCA6IGxlZnQuc3BsaWNlKGluZGV4LCAxKVswXTtcbiAgICByZXR1cm4geyBsZWZ0OiBlbGVtZW50LCByaWdodCwgbWFyazogYCR7a2V5fSA9IFwiJHt2YWx1ZX1cImAgfTtcbiAgfSk7XG4gIHJldHVybiBbLi4ucGFpcnMsIC4uLmxlZnQubWFwKChyaWdodCk6IFBhaXIgPT4gKHsgbGVmdDogdW5kZWZpbmVkLCByaWdodCwgbWFyazogYCR7a2V5fSA9IFwiJHttYXJrT2YocmlnaHQpfVwiYCB9KSldO1xufVxuXG5mdW5jdGlvbiBhdHRyaWJ1dGVzKGE6IEVsZW1lbnQsIGI6IEVsZW1lbnQsIGF0OiBzdHJpbmcpOiBEaWZmZXJlbmNlW10ge1xuICBjb25zdCBbb3VycywgdGhlaXJzXSA9IFthdHRyaWJ1dGVzT2YoYSksIGF0dHJpYnV0ZXNPZihiKV07XG4gIHJldHVybiBbLi4ubmV3IFNldChbLi4ub3Vycy5rZXlzKCksIC4uLnRoZWlycy5rZXlzKCldKV0uZmxhdE1hcCgobmFtZSk6IERpZmZlcmVuY2VbXSA9PiB7XG4gICAgY29uc3QgW2xlZnQsIHJpZ2h0XSA9IFtvdXJzLmdldChuYW1lKSwgdGhlaXJzLmdldChuYW1lKV07XG4gICAgaWYgKGxlZnQgPT09IHJpZ2h0KSByZXR1cm4gW107XG4gICAgY29uc3Qga2luZCA9IGxlZnQgPT09IHVuZGVmaW5lZCA/ICdhZGRlZCcgOiByaWdodCA9PT0gdW5kZWZpbmVkID8gJ3JlbW92ZWQnIDogJ2NoYW5nZWQnO1xuICAgIHJldHVybiBbeyBhdDogYCR7YXR9L0Ake25hbWV9YCwga2luZCwgbGVmdCwgcmlnaHQgfV07XG4gIH0pO1xufVxuXG5mdW5jdGlvbiBhdHRyaWJ1dGVzT2YoZWxlbWVudDogRWxlbWVudCk6IE1hcDxzdHJpbmcsIHN0cmluZz4ge1xuICBjb25zdCBmb3VuZCA9IG5ldyBNYXA8c3RyaW5nLCBzdHJpbmc+KCk7XG4gIGZvciAoY29uc3QgeyBuYW1lLCBsb2NhbE5hbWUsIG5hbWVzcGFjZVVSSSwgdmFsdWUgfSBvZiBlbGVtZW50LmF0dHJpYnV0ZXMpIHtcbiAgICBpZiAobmFtZXNwYWNlVVJJICE9PSB4bWxucyAmJiBuYW1lICE9PSAneG1sbnMnKSBmb3VuZC5zZXQobG9jYWxOYW1lID8/IG5hbWUsIHZhbHVlKTtcbiAgfVxuICByZXR1cm4gZm91bmQ7XG59XG5cbi8qKiBDaGlsZCBlbGVtZW50cyBieSBuYW1lc3BhY2UgYW5kIG5hbWUsIGluIG9yZGVyLiAqL1xuZnVuY3Rpb24gYnlOYW1lKGVsZW1lbnQ6IEVsZW1lbnQsIG9ubHk/OiBzdHJpbmcpOiBNYXA8c3RyaW5nLCBFbGVtZW50W10+IHtcbiAgY29uc3QgZm91bmQgPSBuZXcgTWFwPHN0cmluZywgRWxlbWVudFtdPigpO1xuICBmb3IgKGNvbnN0IGNoaWxkIG9mIGVsZW1lbnQuY2hpbGROb2Rlcykge1xuICAgIGlmIChjaGlsZC5ub2RlVHlwZSAhPT0gMSkgY29udGludWU7XG4gICAgY29uc3Qgb25lID0gY2hpbGQgYXMgRWxlbWVudDtcbiAgICBpZiAob25seSAhPT0gdW5kZWZpbmVkICYmIG9uZS5sb2NhbE5hbWUgIT09IG9ubHkpIGNvbnRpbnVlO1xuICAgIGNvbnN0IG90aGVycyA9IGZvdW5kLmdldChuYW1lT2Yob25lKSk7XG4gICAgaWYgKG90aGVycykgb3RoZXJzLnB1c2gob25lKTtcbiAgICBlbHNlIGZvdW5kLnNldChuYW1lT2Yob25lKSwgW29uZV0pO1xuICB9XG4gIHJldHVybiBmb3VuZDtcbn1cblxuY29uc3QgbmFtZU9mID0gKHsgbmFtZXNwYWNlVVJJLCBsb2NhbE5hbWUgfTogRWxlbWVudCk6IHN0cmluZyA9PiBgJHtuYW1lc3BhY2VVUkkgPz8gJyd9ICR7bG9jYWxOYW1lfWA7XG5cbmNvbnN0IHNob3duID0gKGVsZW1lbnQ6IEVsZW1lbnQpOiBzdHJpbmcgPT4ge1xuICBjb25zdCB0ZXh0ID0gZWxlbWVudC50b1N0cmluZygpO1xuICByZXR1cm4gdGV4dC5sZW5ndGggPiAyMDAgPyBgJHt0ZXh0LnNsaWNlKDAsIDIwMCl9XHUyMDI2YCA6IHRleHQ7XG59O1xuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7Ozs7Ozs7Ozs7OztBQVdPLFNBQVMsU0FDZCxPQUNBLFdBQThCLENBQUMsR0FDL0IsU0FBNEIsQ0FBQyxHQUNOO0FBQ3ZCLFFBQU0sQ0FBQyxNQUFNLE1BQU0sSUFBSSxDQUFDLFNBQVMsSUFBSSxRQUFRLEdBQUcsT0FBTyxJQUFJLFFBQVEsQ0FBQztBQUNwRSxTQUFPLE1BQU07QUFBQSxJQUNYLENBQUMsRUFBRSxHQUFHLE1BQU0sQ0FBQyxLQUFLLEtBQUssQ0FBQyxXQUFXLE9BQU8sRUFBRSxDQUFDLE1BQU0sT0FBTyxXQUFXLEtBQUssT0FBTyxLQUFLLENBQUMsV0FBVyxPQUFPLEVBQUUsQ0FBQztBQUFBLEVBQzlHO0FBQ0Y7QUFHTyxJQUFNLFdBQVcsQ0FBQyxVQUE2QyxVQUFVLE9BQU8sYUFBYTtBQUc3RixJQUFNLFVBQVUsQ0FBQyxVQUE2QyxVQUFVLE9BQU8sR0FBRztBQUV6RixTQUFTLFVBQVUsT0FBZSxLQUFzQztBQUN0RSxRQUFNLFFBQVEsTUFBTSxLQUFLO0FBQ3pCLFFBQU0sUUFBUSxNQUFNLFdBQVcsR0FBRztBQUNsQyxRQUFNLFVBQVUsTUFDYixRQUFRLFNBQVMsSUFBUSxFQUN6QixRQUFRLHVCQUF1QixNQUFNLEVBRXJDLFdBQVcsV0FBVyxzREFBc0QsRUFDNUUsV0FBVyxLQUFLLFFBQVEsVUFBVSxLQUFLLEVBQ3ZDLFFBQVEsTUFBVSxXQUFXO0FBQ2hDLFFBQU0sWUFBWSxTQUFTLENBQUMsTUFBTSxTQUFTLEdBQUc7QUFDOUMsUUFBTSxVQUFVLElBQUksT0FBTyxJQUFJLE9BQU8sR0FBRyxHQUFHLElBQUksR0FBRztBQUNuRCxTQUFPLENBQUMsT0FBTyxRQUFRLEtBQUssWUFBWSxHQUFHLFFBQVEsWUFBWSxFQUFFLElBQUksRUFBRTtBQUN6RTs7O0FDOUJBLElBQU0sVUFBVTtBQUdULFNBQVMsUUFBUSxPQUFvQztBQUMxRCxRQUFNLFFBQXFCLENBQUM7QUFDNUIsUUFBTSxRQUFRLENBQUMsTUFBYSxJQUFZLFVBQXdCO0FBQzlELFFBQUksTUFBTSxRQUFRLElBQUksR0FBRztBQUN2QixZQUFNLFFBQVE7QUFDZCxVQUFJLE1BQU0sU0FBUyxLQUFLLE1BQU0sTUFBTSxVQUFVLEVBQUcsT0FBTSxLQUFLLEVBQUUsSUFBSSxNQUFNLENBQUM7QUFBQSxJQUMzRSxXQUFXLFdBQVcsSUFBSSxLQUFLLFFBQVEsU0FBUztBQUM5QyxpQkFBVyxDQUFDLEtBQUssS0FBSyxLQUFLLE9BQU8sUUFBUSxJQUFJLEVBQUcsT0FBTSxPQUFPLFVBQVUsSUFBSSxHQUFHLEdBQUcsUUFBUSxDQUFDO0FBQUEsSUFDN0Y7QUFBQSxFQUNGO0FBQ0EsUUFBTSxPQUFPLEtBQUssQ0FBQztBQUNuQixTQUFPLE1BQU0sS0FBSyxDQUFDLEdBQUcsTUFBTSxFQUFFLE1BQU0sU0FBUyxFQUFFLE1BQU0sTUFBTTtBQUM3RDtBQUdBLElBQU0sU0FBUztBQUNmLElBQU0sY0FBYztBQUdiLFNBQVMsVUFBVSxPQUE0QztBQUNwRSxRQUFNLFVBQVUsb0JBQUksSUFBWTtBQUNoQyxRQUFNLFFBQVEsQ0FBQyxPQUFjLE9BQWUsVUFBd0I7QUFDbEUsUUFBSSxDQUFDLFdBQVcsS0FBSyxLQUFLLFFBQVEsUUFBUSxZQUFhO0FBQ3ZELGVBQVcsQ0FBQyxLQUFLLEtBQUssS0FBSyxPQUFPLFFBQVEsS0FBSyxHQUFHO0FBQ2hELFVBQUksV0FBVyxLQUFLLEtBQUssT0FBTyxLQUFLLEtBQUssRUFBRSxTQUFTLEtBQUssUUFBUSxFQUFHLE9BQU0sT0FBTyxHQUFHLEtBQUssR0FBRyxHQUFHLEtBQUssUUFBUSxDQUFDO0FBQUEsVUFDekcsU0FBUSxJQUFJLEdBQUcsS0FBSyxHQUFHLEdBQUcsRUFBRTtBQUFBLElBQ25DO0FBQUEsRUFDRjtBQUNBLGFBQVcsUUFBUSxNQUFNLE1BQU0sR0FBRyxNQUFNLEVBQUcsT0FBTSxNQUFNLElBQUksQ0FBQztBQUM1RCxTQUFPLENBQUMsR0FBRyxPQUFPLEVBQUUsTUFBTSxHQUFHLFdBQVc7QUFDMUM7QUFHTyxTQUFTLE9BQU8sTUFBYSxNQUFpQztBQUNuRSxNQUFJLFdBQVcsSUFBSSxLQUFLLE9BQU8sT0FBTyxNQUFNLElBQUksRUFBRyxRQUFPLEtBQUssSUFBSTtBQUNuRSxNQUFJLFFBQTJCO0FBQy9CLGFBQVcsT0FBTyxLQUFLLE1BQU0sR0FBRyxHQUFHO0FBQ2pDLFFBQUksTUFBTSxRQUFRLEtBQUssRUFBRyxTQUFTLE1BQTJCLE9BQU8sR0FBRyxDQUFDO0FBQUEsUUFDcEUsU0FBUSxXQUFXLEtBQUssS0FBSyxPQUFPLE9BQU8sT0FBTyxHQUFHLElBQUssTUFBTSxHQUFHLElBQWM7QUFBQSxFQUN4RjtBQUNBLFNBQU87QUFDVDtBQUdPLFNBQVMsU0FBUyxPQUFrQztBQUN6RCxNQUFJLFVBQVUsVUFBYSxNQUFNLEtBQUssTUFBTSxLQUFNLFFBQU87QUFDekQsTUFBSSxNQUFNLFFBQVEsS0FBSyxHQUFHO0FBQ3hCLFVBQU0sUUFBUTtBQUNkLFdBQU8sTUFBTSxVQUFVLEtBQUssTUFBTSxNQUFNLENBQUMsU0FBUyxPQUFPLE1BQU0sSUFBSSxNQUFNLFFBQVEsSUFDN0UsTUFBTSxJQUFJLE1BQU0sRUFBRSxLQUFLLElBQUksSUFDM0IsR0FBRyxNQUFNLE1BQU07QUFBQSxFQUNyQjtBQUNBLFNBQU8sV0FBVyxLQUFLLElBQUksR0FBRyxPQUFPLEtBQUssS0FBSyxFQUFFLE1BQU0sYUFBYSxPQUFPLEtBQUs7QUFDbEY7OztBQzlDTyxTQUFTLG1CQUFtQixNQUFhLE9BQWMsS0FBSyxLQUFLLFlBQXVCLENBQUMsR0FBaUI7QUFDL0csU0FBTyxJQUFJLFVBQVUsU0FBUyxFQUFFLE9BQU8sTUFBTSxPQUFPLEVBQUU7QUFDeEQ7QUFFQSxJQUFNLFlBQU4sTUFBZ0I7QUFBQSxFQUNHO0FBQUEsRUFFakIsWUFBWSxXQUFzQjtBQUNoQyxTQUFLLE9BQU8sT0FBTyxRQUFRLFNBQVMsRUFBRSxJQUFJLENBQUMsQ0FBQyxPQUFPLEdBQUcsTUFBTSxDQUFDLFFBQVEsS0FBSyxHQUFHLEdBQUcsQ0FBQztBQUFBLEVBQ25GO0FBQUEsRUFFQSxPQUFPLE1BQWEsT0FBYyxJQUEwQjtBQUMxRCxRQUFJLFdBQVcsSUFBSSxLQUFLLFdBQVcsS0FBSyxHQUFHO0FBQ3pDLFlBQU0sT0FBTyxvQkFBSSxJQUFJLENBQUMsR0FBRyxPQUFPLEtBQUssSUFBSSxHQUFHLEdBQUcsT0FBTyxLQUFLLEtBQUssQ0FBQyxDQUFDO0FBQ2xFLGFBQU8sQ0FBQyxHQUFHLElBQUksRUFBRSxRQUFRLENBQUMsUUFBUTtBQUNoQyxjQUFNLE9BQU8sVUFBVSxJQUFJLEdBQUc7QUFDOUIsWUFBSSxDQUFDLE9BQU8sT0FBTyxPQUFPLEdBQUcsRUFBRyxRQUFPLENBQUMsS0FBSyxNQUFNLFdBQVcsS0FBSyxHQUFHLENBQVUsQ0FBQztBQUNqRixZQUFJLENBQUMsT0FBTyxPQUFPLE1BQU0sR0FBRyxFQUFHLFFBQU8sQ0FBQyxLQUFLLE1BQU0sU0FBUyxNQUFNLEdBQUcsQ0FBVSxDQUFDO0FBQy9FLGVBQU8sS0FBSyxPQUFPLEtBQUssR0FBRyxHQUFZLE1BQU0sR0FBRyxHQUFZLElBQUk7QUFBQSxNQUNsRSxDQUFDO0FBQUEsSUFDSDtBQUNBLFFBQUksTUFBTSxRQUFRLElBQUksS0FBSyxNQUFNLFFBQVEsS0FBSyxHQUFHO0FBQy9DLFlBQU0sQ0FBQyxHQUFHLENBQUMsSUFBSSxDQUFDLE1BQTBCLEtBQXlCO0FBQ25FLFlBQU0sTUFBTSxLQUFLLEtBQUssS0FBSyxDQUFDLENBQUMsTUFBTSxNQUFNLE9BQU8sRUFBRSxDQUFDLElBQUksQ0FBQztBQUN4RCxhQUFPLFFBQVEsU0FBWSxLQUFLLFFBQVEsR0FBRyxHQUFHLEVBQUUsSUFBSSxLQUFLLE1BQU0sR0FBRyxHQUFHLElBQUksR0FBRztBQUFBLElBQzlFO0FBRUEsVUFBTSxPQUFPLE9BQU8sTUFBTSxJQUFJLE1BQU0sT0FBTyxNQUFNLEtBQUssS0FBSyxZQUFZLE1BQU0sS0FBSztBQUNsRixXQUFPLE9BQU8sQ0FBQyxJQUFJLENBQUMsRUFBRSxJQUFJLE1BQU0sV0FBVyxNQUFNLE1BQU0sQ0FBQztBQUFBLEVBQzFEO0FBQUEsRUFFUSxRQUFRLEdBQXFCLEdBQXFCLElBQTBCO0FBQ2xGLFdBQU8sTUFBTSxLQUFLLEVBQUUsUUFBUSxLQUFLLElBQUksRUFBRSxRQUFRLEVBQUUsTUFBTSxFQUFFLEdBQUcsQ0FBQyxHQUFHLFVBQVU7QUFDeEUsWUFBTSxPQUFPLFVBQVUsSUFBSSxLQUFLO0FBQ2hDLFVBQUksU0FBUyxFQUFFLE9BQVEsUUFBTyxDQUFDLEtBQUssTUFBTSxXQUFXLEVBQUUsS0FBSyxDQUFVLENBQUM7QUFDdkUsVUFBSSxTQUFTLEVBQUUsT0FBUSxRQUFPLENBQUMsS0FBSyxNQUFNLFNBQVMsRUFBRSxLQUFLLENBQVUsQ0FBQztBQUNyRSxhQUFPLEtBQUssT0FBTyxFQUFFLEtBQUssR0FBWSxFQUFFLEtBQUssR0FBWSxJQUFJO0FBQUEsSUFDL0QsQ0FBQyxFQUFFLEtBQUs7QUFBQSxFQUNWO0FBQUE7QUFBQSxFQUdRLE1BQU0sR0FBcUIsR0FBcUIsSUFBWSxLQUEyQjtBQUM3RixVQUFNLE9BQU8sSUFBSSxRQUFRLFVBQVUsRUFBRTtBQUNyQyxVQUFNLFFBQVEsQ0FBQyxTQUF3QjtBQUNyQyxZQUFNQSxTQUFRLFNBQVMsS0FBSyxPQUFPLE9BQU8sTUFBTSxJQUFJO0FBQ3BELGFBQU9BLFdBQVUsU0FBWSxLQUFLLE9BQU8sTUFBTUEsTUFBSyxNQUFNLFdBQVcsS0FBSyxVQUFVQSxNQUFLLElBQUksT0FBT0EsTUFBSztBQUFBLElBQzNHO0FBQ0EsVUFBTSxTQUFTLG9CQUFJLElBQXFCO0FBQ3hDLGVBQVcsUUFBUSxHQUFHO0FBQ3BCLFlBQU0sTUFBTSxPQUFPLElBQUksTUFBTSxJQUFJLENBQUM7QUFDbEMsVUFBSSxJQUFLLEtBQUksS0FBSyxJQUFJO0FBQUEsVUFDakIsUUFBTyxJQUFJLE1BQU0sSUFBSSxHQUFHLENBQUMsSUFBSSxDQUFDO0FBQUEsSUFDckM7QUFDQSxVQUFNLE9BQU8sQ0FBQyxVQUEwQixHQUFHLEVBQUUsTUFBTSxTQUFTLEtBQUssS0FBSyxJQUFJLElBQUksRUFBRSxPQUFPLEtBQUs7QUFDNUYsVUFBTSxRQUFRLEVBQUUsUUFBUSxDQUFDLFNBQVM7QUFDaEMsWUFBTSxRQUFRLE1BQU0sSUFBSTtBQUN4QixZQUFNLFFBQVEsT0FBTyxJQUFJLEtBQUssR0FBRyxNQUFNO0FBQ3ZDLGFBQU8sVUFBVSxTQUFZLENBQUMsS0FBSyxLQUFLLEtBQUssR0FBRyxXQUFXLElBQUksQ0FBQyxJQUFJLEtBQUssT0FBTyxNQUFNLE9BQU8sS0FBSyxLQUFLLENBQUM7QUFBQSxJQUMxRyxDQUFDO0FBQ0QsZUFBVyxDQUFDLE9BQU8sS0FBSyxLQUFLLE9BQVEsWUFBVyxRQUFRLE1BQU8sT0FBTSxLQUFLLEtBQUssS0FBSyxLQUFLLEdBQUcsU0FBUyxJQUFJLENBQUM7QUFDMUcsV0FBTztBQUFBLEVBQ1Q7QUFDRjtBQUVBLElBQU0sT0FBTyxDQUFDLElBQVksTUFBMkIsV0FBOEI7QUFBQSxFQUNqRjtBQUFBLEVBQ0E7QUFBQSxFQUNBLE1BQU0sU0FBUyxZQUFZLFFBQVE7QUFBQSxFQUNuQyxPQUFPLFNBQVMsVUFBVSxRQUFRO0FBQ3BDOzs7QUN6RkEsU0FBUyxpQkFBaUI7OztBQ0kxQixJQUFNLFFBQVE7QUFFUCxTQUFTLGVBQWUsTUFBZ0IsT0FBaUIsWUFBdUIsQ0FBQyxHQUFpQjtBQUN2RyxRQUFNLENBQUMsR0FBRyxDQUFDLElBQUksQ0FBQyxLQUFLLGlCQUFpQixNQUFNLGVBQWU7QUFDM0QsTUFBSSxDQUFDLEtBQUssQ0FBQyxFQUFHLFFBQU8sQ0FBQztBQUN0QixNQUFJLE9BQU8sQ0FBQyxNQUFNLE9BQU8sQ0FBQyxFQUFHLFFBQU8sQ0FBQyxFQUFFLElBQUksS0FBSyxNQUFNLFdBQVcsTUFBTSxFQUFFLGFBQWEsSUFBSSxPQUFPLEVBQUUsYUFBYSxHQUFHLENBQUM7QUFDcEgsUUFBTSxPQUFPLE9BQU8sUUFBUSxTQUFTLEVBQUUsSUFBSSxDQUFDLENBQUMsT0FBTyxHQUFHLE1BQU0sQ0FBQyxRQUFRLEtBQUssR0FBRyxHQUFHLENBQVU7QUFDM0YsU0FBTyxTQUFTLEdBQUcsR0FBRyxJQUFJLEVBQUUsU0FBUyxJQUFJLENBQUMsT0FBTyxLQUFLLEtBQUssQ0FBQyxDQUFDLE1BQU0sTUFBTSxPQUFPLEVBQUUsQ0FBQyxJQUFJLENBQUMsQ0FBQztBQUMzRjtBQUdBLFNBQVMsU0FBUyxHQUFZLEdBQVksSUFBWSxPQUF5RDtBQUM3RyxRQUFNLFFBQVEsV0FBVyxHQUFHLEdBQUcsRUFBRTtBQUNqQyxRQUFNLENBQUMsTUFBTSxNQUFNLElBQUksQ0FBQyxPQUFPLENBQUMsR0FBRyxPQUFPLENBQUMsQ0FBQztBQUM1QyxhQUFXLFFBQVEsb0JBQUksSUFBSSxDQUFDLEdBQUcsS0FBSyxLQUFLLEdBQUcsR0FBRyxPQUFPLEtBQUssQ0FBQyxDQUFDLEdBQUc7QUFDOUQsVUFBTSxDQUFDLEtBQUssS0FBSyxJQUFJLENBQUMsS0FBSyxJQUFJLElBQUksS0FBSyxDQUFDLEdBQUcsT0FBTyxJQUFJLElBQUksS0FBSyxDQUFDLENBQUM7QUFDbEUsVUFBTSxPQUFPLEdBQUcsRUFBRSxLQUFLLElBQUksQ0FBQyxLQUFLLE1BQU0sQ0FBQyxJQUFJLFNBQVM7QUFDckQsVUFBTSxVQUFVLElBQUksU0FBUyxLQUFLLE1BQU0sU0FBUztBQUNqRCxVQUFNLE1BQU0sTUFBTSxJQUFJO0FBQ3RCLFVBQU0sUUFBUSxRQUFRLFNBQVksUUFBUSxLQUFLLEtBQUssSUFBSSxNQUFNLEtBQUssT0FBTyxHQUFHO0FBQzdFLGVBQVcsRUFBRSxNQUFNLE9BQU8sS0FBSyxLQUFLLE9BQU87QUFDekMsWUFBTSxPQUFPLFVBQVUsR0FBRyxJQUFJLElBQUksSUFBSSxNQUFNO0FBQzVDLFVBQUksUUFBUSxNQUFPLE9BQU0sS0FBSyxHQUFHLFNBQVMsTUFBTSxPQUFPLE1BQU0sS0FBSyxDQUFDO0FBQUEsZUFDMUQsS0FBTSxPQUFNLEtBQUssRUFBRSxJQUFJLE1BQU0sTUFBTSxXQUFXLE1BQU0sTUFBTSxJQUFJLEdBQUcsT0FBTyxPQUFVLENBQUM7QUFBQSxlQUNuRixNQUFPLE9BQU0sS0FBSyxFQUFFLElBQUksTUFBTSxNQUFNLFNBQVMsTUFBTSxRQUFXLE9BQU8sTUFBTSxLQUFLLEVBQUUsQ0FBQztBQUFBLElBQzlGO0FBQUEsRUFDRjtBQUNBLE1BQUksS0FBSyxTQUFTLEtBQUssT0FBTyxTQUFTLEdBQUc7QUFDeEMsVUFBTSxDQUFDLEtBQUssS0FBSyxJQUFJLEVBQUUsRUFBRSxlQUFlLElBQUksS0FBSyxJQUFJLEVBQUUsZUFBZSxJQUFJLEtBQUssQ0FBQztBQUNoRixRQUFJLFFBQVEsTUFBTyxPQUFNLEtBQUssRUFBRSxJQUFJLE1BQU0sV0FBVyxNQUFNLEtBQUssT0FBTyxNQUFNLENBQUM7QUFBQSxFQUNoRjtBQUNBLFNBQU87QUFDVDtBQVNBLElBQU0sVUFBVSxDQUFDLEtBQXlCLFVBQ3hDLE1BQU0sS0FBSyxFQUFFLFFBQVEsS0FBSyxJQUFJLElBQUksUUFBUSxNQUFNLE1BQU0sRUFBRSxHQUFHLENBQUMsR0FBRyxXQUFXO0FBQUEsRUFDeEUsTUFBTSxJQUFJLEtBQUs7QUFBQSxFQUNmLE9BQU8sTUFBTSxLQUFLO0FBQUEsRUFDbEIsTUFBTSxPQUFPLFFBQVEsQ0FBQztBQUN4QixFQUFFO0FBR0osU0FBUyxNQUFNLEtBQXlCLE9BQTJCLEtBQXFCO0FBQ3RGLFFBQU0sU0FBUyxDQUFDLFlBQTZCO0FBQzNDLFFBQUksSUFBSSxXQUFXLEdBQUcsRUFBRyxRQUFPLFFBQVEsYUFBYSxJQUFJLE1BQU0sQ0FBQyxDQUFDLEtBQUs7QUFDdEUsUUFBSSxRQUFRLElBQUssU0FBUSxRQUFRLGVBQWUsSUFBSSxLQUFLO0FBQ3pELFlBQVEsT0FBTyxTQUFTLEdBQUcsRUFBRSxPQUFPLEVBQUUsS0FBSyxFQUFFLFFBQVEsQ0FBQyxHQUFHLGVBQWUsSUFBSSxLQUFLO0FBQUEsRUFDbkY7QUFDQSxRQUFNLE9BQU8sQ0FBQyxHQUFHLEtBQUs7QUFDdEIsUUFBTSxRQUFRLElBQUksSUFBSSxDQUFDLFlBQWtCO0FBQ3ZDLFVBQU0sUUFBUSxPQUFPLE9BQU87QUFDNUIsVUFBTSxRQUFRLEtBQUssVUFBVSxDQUFDLGNBQWMsT0FBTyxTQUFTLE1BQU0sS0FBSztBQUN2RSxVQUFNLFFBQVEsVUFBVSxLQUFLLFNBQVksS0FBSyxPQUFPLE9BQU8sQ0FBQyxFQUFFLENBQUM7QUFDaEUsV0FBTyxFQUFFLE1BQU0sU0FBUyxPQUFPLE1BQU0sR0FBRyxHQUFHLE9BQU8sS0FBSyxJQUFJO0FBQUEsRUFDN0QsQ0FBQztBQUNELFNBQU8sQ0FBQyxHQUFHLE9BQU8sR0FBRyxLQUFLLElBQUksQ0FBQyxXQUFpQixFQUFFLE1BQU0sUUFBVyxPQUFPLE1BQU0sR0FBRyxHQUFHLE9BQU8sT0FBTyxLQUFLLENBQUMsSUFBSSxFQUFFLENBQUM7QUFDbkg7QUFFQSxTQUFTLFdBQVcsR0FBWSxHQUFZLElBQTBCO0FBQ3BFLFFBQU0sQ0FBQyxNQUFNLE1BQU0sSUFBSSxDQUFDLGFBQWEsQ0FBQyxHQUFHLGFBQWEsQ0FBQyxDQUFDO0FBQ3hELFNBQU8sQ0FBQyxHQUFHLG9CQUFJLElBQUksQ0FBQyxHQUFHLEtBQUssS0FBSyxHQUFHLEdBQUcsT0FBTyxLQUFLLENBQUMsQ0FBQyxDQUFDLEVBQUUsUUFBUSxDQUFDLFNBQXVCO0FBQ3RGLFVBQU0sQ0FBQyxNQUFNLEtBQUssSUFBSSxDQUFDLEtBQUssSUFBSSxJQUFJLEdBQUcsT0FBTyxJQUFJLElBQUksQ0FBQztBQUN2RCxRQUFJLFNBQVMsTUFBTyxRQUFPLENBQUM7QUFDNUIsVUFBTSxPQUFPLFNBQVMsU0FBWSxVQUFVLFVBQVUsU0FBWSxZQUFZO0FBQzlFLFdBQU8sQ0FBQyxFQUFFLElBQUksR0FBRyxFQUFFLEtBQUssSUFBSSxJQUFJLE1BQU0sTUFBTSxNQUFNLENBQUM7QUFBQSxFQUNyRCxDQUFDO0FBQ0g7QUFFQSxTQUFTLGFBQWEsU0FBdUM7QUFDM0QsUUFBTSxRQUFRLG9CQUFJLElBQW9CO0FBQ3RDLGFBQVcsRUFBRSxNQUFNLFdBQVcsY0FBYyxNQUFNLEtBQUssUUFBUSxZQUFZO0FBQ3pFLFFBQUksaUJBQWlCLFNBQVMsU0FBUyxRQUFTLE9BQU0sSUFBSSxhQUFhLE1BQU0sS0FBSztBQUFBLEVBQ3BGO0FBQ0EsU0FBTztBQUNUO0FBR0EsU0FBUyxPQUFPLFNBQWtCQyxPQUF1QztBQUN2RSxRQUFNLFFBQVEsb0JBQUksSUFBdUI7QUFDekMsYUFBVyxTQUFTLFFBQVEsWUFBWTtBQUN0QyxRQUFJLE1BQU0sYUFBYSxFQUFHO0FBQzFCLFVBQU0sTUFBTTtBQUNaLFFBQUlBLFVBQVMsVUFBYSxJQUFJLGNBQWNBLE1BQU07QUFDbEQsVUFBTSxTQUFTLE1BQU0sSUFBSSxPQUFPLEdBQUcsQ0FBQztBQUNwQyxRQUFJLE9BQVEsUUFBTyxLQUFLLEdBQUc7QUFBQSxRQUN0QixPQUFNLElBQUksT0FBTyxHQUFHLEdBQUcsQ0FBQyxHQUFHLENBQUM7QUFBQSxFQUNuQztBQUNBLFNBQU87QUFDVDtBQUVBLElBQU0sU0FBUyxDQUFDLEVBQUUsY0FBYyxVQUFVLE1BQXVCLEdBQUcsZ0JBQWdCLEVBQUUsSUFBSSxTQUFTO0FBRW5HLElBQU0sUUFBUSxDQUFDLFlBQTZCO0FBQzFDLFFBQU0sT0FBTyxRQUFRLFNBQVM7QUFDOUIsU0FBTyxLQUFLLFNBQVMsTUFBTSxHQUFHLEtBQUssTUFBTSxHQUFHLEdBQUcsQ0FBQyxXQUFNO0FBQ3hEOzs7QURqRkEsSUFBTSxZQUFZLG9CQUFJLElBQUk7QUFBQSxFQUN4QjtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQ0YsQ0FBQztBQUVNLFNBQVMsa0JBQ2QsTUFDQSxPQUNBLEVBQUUsWUFBWSxDQUFDLEdBQUcsVUFBVSxNQUFBQyxNQUFLLElBQWdCLENBQUMsR0FDM0I7QUFDdkIsUUFBTSxRQUFzQixDQUFDO0FBQzdCLFFBQU0sUUFBUSxLQUFLLFdBQVcsVUFBYSxNQUFNLFdBQVc7QUFDNUQsTUFBSSxLQUFLLFdBQVcsVUFBYSxNQUFNLFdBQVcsVUFBYSxLQUFLLFdBQVcsTUFBTTtBQUNuRixVQUFNLEtBQUssRUFBRSxJQUFJLFVBQVUsTUFBTSxXQUFXLE1BQU0sS0FBSyxRQUFRLE9BQU8sTUFBTSxPQUFPLENBQUM7QUFDdEYsUUFBTSxDQUFDLEdBQUcsQ0FBQyxJQUFJLENBQUMsUUFBUSxJQUFJLEdBQUcsUUFBUSxLQUFLLENBQUM7QUFDN0MsYUFBVyxRQUFRLFFBQVEsb0JBQUksSUFBSSxDQUFDLEdBQUcsRUFBRSxLQUFLLEdBQUcsR0FBRyxFQUFFLEtBQUssQ0FBQyxDQUFDLElBQUksQ0FBQyxHQUFHO0FBQ25FLFVBQU0sQ0FBQyxLQUFLLEtBQUssSUFBSSxDQUFDLEVBQUUsSUFBSSxJQUFJLEdBQUcsRUFBRSxJQUFJLElBQUksQ0FBQztBQUM5QyxRQUFJLFFBQVEsTUFBTztBQUNuQixVQUFNLE9BQU8sUUFBUSxTQUFZLFVBQVUsVUFBVSxTQUFZLFlBQVk7QUFDN0UsVUFBTSxLQUFLLEVBQUUsSUFBSSxVQUFVLElBQUksSUFBSSxNQUFNLE1BQU0sS0FBSyxPQUFPLE1BQU0sQ0FBQztBQUFBLEVBQ3BFO0FBQ0EsUUFBTSxLQUFLLEdBQUcsZ0JBQWdCLE1BQU0sT0FBTyxTQUFTLENBQUM7QUFDckQsU0FBTyxTQUFTLE9BQU8sVUFBVUEsS0FBSTtBQUN2QztBQUdBLFNBQVMsZ0JBQWdCLE1BQXNCLE9BQXVCLFdBQW9DO0FBQ3hHLFFBQU0sQ0FBQyxPQUFPLE1BQU0sSUFBSSxDQUFDLEtBQUssU0FBUyxPQUFPLEtBQUssSUFBSSxHQUFHLE1BQU0sU0FBUyxPQUFPLE1BQU0sSUFBSSxDQUFDO0FBQzNGLE1BQUksVUFBVSxVQUFhLFdBQVcsT0FBVyxRQUFPLG1CQUFtQixPQUFPLFFBQVEsS0FBSyxTQUFTO0FBQ3hHLFFBQU0sQ0FBQyxLQUFLLEtBQUssSUFBSSxDQUFDLE1BQU0sS0FBSyxJQUFJLEdBQUcsTUFBTSxNQUFNLElBQUksQ0FBQztBQUN6RCxNQUFJLE9BQU8sTUFBTyxRQUFPLGVBQWUsS0FBSyxPQUFPLFNBQVM7QUFDN0QsU0FBTyxnQkFBZ0IsS0FBSyxNQUFNLE1BQU0sSUFBSTtBQUM5QztBQUVBLFNBQVMsTUFBTSxNQUF1RDtBQUNwRSxNQUFJLENBQUMsUUFBUSxLQUFLLElBQUksS0FBSyxzQkFBc0IsS0FBSyxJQUFJLEVBQUcsUUFBTztBQUNwRSxNQUFJO0FBQ0YsV0FBTyxTQUFTLE1BQU0sTUFBUztBQUFBLEVBQ2pDLFFBQVE7QUFDTixXQUFPO0FBQUEsRUFDVDtBQUNGO0FBRUEsU0FBUyxRQUFRLEVBQUUsUUFBUSxHQUF3QztBQUNqRSxRQUFNLFFBQVEsb0JBQUksSUFBb0I7QUFDdEMsYUFBVyxDQUFDLE9BQU8sS0FBSyxLQUFLLFNBQVM7QUFDcEMsVUFBTSxPQUFPLE1BQU0sWUFBWTtBQUMvQixRQUFJLFVBQVUsSUFBSSxJQUFJLEVBQUc7QUFDekIsVUFBTSxTQUFTLE1BQU0sSUFBSSxJQUFJO0FBQzdCLFVBQU0sSUFBSSxNQUFNLFdBQVcsU0FBWSxRQUFRLEdBQUcsTUFBTSxLQUFLLEtBQUssRUFBRTtBQUFBLEVBQ3RFO0FBQ0EsU0FBTztBQUNUO0FBRUEsU0FBUyxPQUFPLE1BQWlDO0FBQy9DLE1BQUksQ0FBQywyQ0FBMkMsS0FBSyxJQUFJLEVBQUcsUUFBTztBQUNuRSxNQUFJO0FBQ0YsV0FBTyxVQUFVLElBQUk7QUFBQSxFQUN2QixRQUFRO0FBQ04sV0FBTztBQUFBLEVBQ1Q7QUFDRjtBQUdPLFNBQVMsZ0JBQWdCLE1BQWMsT0FBNkI7QUFDekUsUUFBTSxRQUFzQixDQUFDO0FBQzdCLE1BQUksQ0FBQyxNQUFNLEtBQUssSUFBSSxDQUFDLEdBQUcsQ0FBQztBQUN6QixRQUFNLFFBQVEsVUFBVSxNQUFNLEtBQUs7QUFDbkMsYUFBVyxDQUFDLE9BQU8sRUFBRSxPQUFPLFNBQVMsT0FBTyxNQUFNLENBQUMsS0FBSyxNQUFNLFFBQVEsR0FBRztBQUN2RSxVQUFNLFFBQVEsTUFBTSxRQUFRLE9BQU8sRUFBRSxFQUFFLE1BQU0sSUFBSTtBQUNqRCxRQUFJLFNBQVM7QUFDWCxZQUFNLE9BQU8sTUFBTSxRQUFRLENBQUM7QUFDNUIsWUFBTSxTQUFTLE1BQU0sUUFBUSxLQUFLLE1BQU0sUUFBUSxPQUFPLEVBQUUsRUFBRSxNQUFNLElBQUksSUFBSSxDQUFDO0FBQzFFLGVBQVMsT0FBTyxHQUFHLE9BQU8sS0FBSyxJQUFJLE1BQU0sUUFBUSxPQUFPLE1BQU0sR0FBRyxRQUFRLEdBQUc7QUFDMUUsY0FBTSxDQUFDLEtBQUssS0FBSyxJQUFJLENBQUMsTUFBTSxJQUFJLEdBQUcsT0FBTyxJQUFJLENBQUM7QUFDL0MsY0FBTSxPQUFPLFFBQVEsU0FBWSxVQUFVLFVBQVUsU0FBWSxZQUFZO0FBQzdFLGNBQU0sS0FBSyxFQUFFLElBQUksUUFBUSxRQUFRLFNBQVksUUFBUSxPQUFPLE9BQU8sSUFBSSxJQUFJLE1BQU0sTUFBTSxLQUFLLE9BQU8sTUFBTSxDQUFDO0FBQUEsTUFDNUc7QUFDQSxjQUFRO0FBQUEsSUFDVixXQUFXLE9BQU87QUFFaEIsVUFBSSxDQUFDLE1BQU0sUUFBUSxDQUFDLEdBQUc7QUFDckIsbUJBQVcsQ0FBQyxNQUFNLElBQUksS0FBSyxNQUFNLFFBQVE7QUFDdkMsZ0JBQU0sS0FBSyxFQUFFLElBQUksUUFBUSxRQUFRLElBQUksSUFBSSxNQUFNLFNBQVMsTUFBTSxRQUFXLE9BQU8sS0FBSyxDQUFDO0FBQzFGLGVBQVM7QUFBQSxJQUNYLE9BQU87QUFDTCxjQUFRO0FBQ1IsZUFBUztBQUFBLElBQ1g7QUFBQSxFQUNGO0FBQ0EsU0FBTztBQUNUOyIsCiAgIm5hbWVzIjogWyJmb3VuZCIsICJvbmx5IiwgIm9ubHkiXQp9Cg==
