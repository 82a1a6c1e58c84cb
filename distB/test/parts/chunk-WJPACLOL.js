import {
  addressOf,
  partName
} from "./chunk-7DIEYAMQ.js";
import {
  atPointer,
  isMap,
  pointer
} from "./chunk-M6H7XQX2.js";

// src/core/documentation/openapi/definitions.ts
var dataKeys = /* @__PURE__ */ new Set(["example", "default", "enum", "const", "value"]);
var isVisited = (fragment) => !fragment.split("/").some((key) => dataKeys.has(key) || key.startsWith("x-"));
function collectDefinitions(documents) {
  const definitions = /* @__PURE__ */ new Map();
  const warnings = [];
  const missing = /* @__PURE__ */ new Set();
  const isTree = documents.main.notation === "json" && documents.parts.size === 1;
  const visited = isTree ? void 0 : /* @__PURE__ */ new Set();
  const waiting = [];
  const path = [];
  function visit(value, part, inMap) {
    if (typeof value !== "object" || value === null || visited?.has(value)) return;
    visited?.add(value);
    if (Array.isArray(value)) {
      for (const [index, inner] of value.entries()) {
        if (typeof inner !== "object" || inner === null) continue;
        path.push(index);
        visit(inner, part, false);
        path.pop();
      }
      return;
    }
    for (const key in value) {
      const inner = value[key];
      if (key === "$ref" && typeof inner === "string") value.$ref = take(inner, part);
      else if (typeof inner === "object" && inner !== null && (inMap || !dataKeys.has(key) && !key.startsWith("x-"))) {
        path.push(key);
        visit(inner, part, key === "properties" || key === "schemas" || key === "definitions");
        path.pop();
      }
    }
  }
  function take(reference, part) {
    if (reference.startsWith("#") && part === documents.main && definitions.has(reference)) return reference;
    const address = addressOf(reference, part.uri);
    const fragment = reference.includes("#") ? reference.slice(reference.indexOf("#") + 1) : "";
    const { main } = documents;
    const name = address === void 0 || address === main.uri ? "" : partName(address, main.uri);
    const key = `${name}#${fragment}`;
    if (definitions.has(key) || missing.has(key)) return key;
    const target = address === void 0 ? void 0 : documents.parts.get(address);
    const found = target && atPointer(target.content, fragment);
    if (found === void 0) {
      missing.add(key);
      warnings.push({
        at: placeText(part),
        what: target ? `$ref ${reference} leads nowhere` : `$ref ${reference} leads to a document that was not read`
      });
      return key;
    }
    definitions.set(key, found);
    if (target && !(isTree && isVisited(fragment))) waiting.push([found, target]);
    return key;
  }
  const placeText = (part) => {
    const name = part === documents.main ? "" : partName(part.uri, documents.main.uri);
    return `${name}${pointer(...path)}`;
  };
  visit(documents.main.content, documents.main, false);
  for (let next = waiting.shift(); next; next = waiting.shift()) visit(next[0], next[1], false);
  return { definitions, warnings };
}
function foreignReferences(part) {
  const found = /* @__PURE__ */ new Set();
  if (!/\$ref["']?\s*:(?!\s*["']?#)/.test(part.text)) return [];
  const visit = (value) => {
    if (typeof value !== "object" || value === null) return;
    for (const key in value) {
      const inner = value[key];
      if (key === "$ref" && typeof inner === "string") {
        if (!inner.startsWith("#")) found.add(inner);
      } else if (typeof inner === "object" && !dataKeys.has(key)) visit(inner);
    }
  };
  visit(part.content);
  return [...found];
}
function namedSchemas(root) {
  const components = isMap(root.components) ? root.components : {};
  const found = /* @__PURE__ */ new Map();
  for (const [schemas, at] of [
    [components.schemas, "#/components/schemas/"],
    [root.definitions, "#/definitions/"]
  ]) {
    for (const [name, schema] of Object.entries(isMap(schemas) ? schemas : {}))
      found.set(name, { schema, key: `${at}${name.replaceAll("~", "~0").replaceAll("/", "~1")}` });
  }
  return found;
}

export {
  collectDefinitions,
  foreignReferences,
  namedSchemas
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi9vcGVuYXBpL2RlZmluaXRpb25zLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKipcbiAqIFdoYXQgdGhlIGRvY3VtZW50cyBvZiBhIHNvdXJjZSByZWZlciB0bywgdGFrZW4gb3V0IG9mIHRoZW06IGV2ZXJ5IGAkcmVmYCBpcyB3cml0dGVuIGluIG9uZSBmb3JtLCByZWxhdGl2ZSB0b1xuICogdGhlIGZpcnN0IGRvY3VtZW50LCBzbyB0aGF0IGl0IG1lYW5zIHRoZSBzYW1lIHdoZXJldmVyIGl0IHN0YW5kcy5cbiAqL1xuaW1wb3J0IHR5cGUgeyBWYWx1ZSB9IGZyb20gJy4uLy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHsgYWRkcmVzc09mLCB0eXBlIERvY3VtZW50cywgdHlwZSBQYXJ0LCBwYXJ0TmFtZSB9IGZyb20gJy4uL2RvY3VtZW50cy5qcyc7XG5pbXBvcnQgdHlwZSB7IFdhcm5pbmcgfSBmcm9tICcuLi9tb2RlbC5qcyc7XG5pbXBvcnQgeyBhdFBvaW50ZXIsIGlzTWFwLCB0eXBlIEpzb24sIHR5cGUgSnNvbk1hcCwgcG9pbnRlciB9IGZyb20gJy4vcmVmZXJlbmNlcy5qcyc7XG5cbi8qKiBTYW1wbGVzIG9mIGRhdGE6IHdoYXQgbG9va3MgbGlrZSBhIHJlZmVyZW5jZSB0aGVyZSBpcyBub25lLiAqL1xuY29uc3QgZGF0YUtleXMgPSBuZXcgU2V0KFsnZXhhbXBsZScsICdkZWZhdWx0JywgJ2VudW0nLCAnY29uc3QnLCAndmFsdWUnXSk7XG5cbi8qKiBXaGV0aGVyIHRoZSB2aXNpdCBvZiBhIHdob2xlIGRvY3VtZW50IGNvbWVzIHRvIHdoYXQgYSBwb2ludGVyIGxlYWRzIHRvLiAqL1xuY29uc3QgaXNWaXNpdGVkID0gKGZyYWdtZW50OiBzdHJpbmcpOiBib29sZWFuID0+XG4gICFmcmFnbWVudC5zcGxpdCgnLycpLnNvbWUoKGtleSkgPT4gZGF0YUtleXMuaGFzKGtleSkgfHwga2V5LnN0YXJ0c1dpdGgoJ3gtJykpO1xuXG5leHBvcnQgaW50ZXJmYWNlIENvbGxlY3RlZCB7XG4gIHJlYWRvbmx5IGRlZmluaXRpb25zOiBNYXA8c3RyaW5nLCBWYWx1ZT47XG4gIHJlYWRvbmx5IHdhcm5pbmdzOiBXYXJuaW5nW107XG59XG5cbi8qKiBDaGFuZ2VzIHRoZSBkb2N1bWVudHM6IGVhY2ggYCRyZWZgIGJlY29tZXMgdGhlIGtleSBvZiBhIGRlZmluaXRpb24uICovXG5leHBvcnQgZnVuY3Rpb24gY29sbGVjdERlZmluaXRpb25zKGRvY3VtZW50czogRG9jdW1lbnRzKTogQ29sbGVjdGVkIHtcbiAgY29uc3QgZGVmaW5pdGlvbnMgPSBuZXcgTWFwPHN0cmluZywgVmFsdWU+KCk7XG4gIGNvbnN0IHdhcm5pbmdzOiBXYXJuaW5nW10gPSBbXTtcbiAgY29uc3QgbWlzc2luZyA9IG5ldyBTZXQ8c3RyaW5nPigpO1xuICAvKiogT25lIGRvY3VtZW50IHdpdGhvdXQgYWxpYXNlcyBpcyBhIHRyZWUsIGFuZCBub3RoaW5nIGluIGl0IGlzIG1ldCB0d2ljZS4gKi9cbiAgY29uc3QgaXNUcmVlID0gZG9jdW1lbnRzLm1haW4ubm90YXRpb24gPT09ICdqc29uJyAmJiBkb2N1bWVudHMucGFydHMuc2l6ZSA9PT0gMTtcbiAgY29uc3QgdmlzaXRlZCA9IGlzVHJlZSA/IHVuZGVmaW5lZCA6IG5ldyBTZXQ8b2JqZWN0PigpO1xuICBjb25zdCB3YWl0aW5nOiBbSnNvbiwgUGFydF1bXSA9IFtdO1xuXG4gIC8qKiBXaGVyZSB0aGUgdmlzaXQgaXMsIGZvciBtZXNzYWdlczogb25lIGxpc3QgZm9yIGFsbCBvZiBpdCwgc2luY2UgbW9zdCBvZiBpdCBpcyBuZXZlciB0b2xkLiAqL1xuICBjb25zdCBwYXRoOiAoc3RyaW5nIHwgbnVtYmVyKVtdID0gW107XG5cbiAgZnVuY3Rpb24gdmlzaXQodmFsdWU6IEpzb24sIHBhcnQ6IFBhcnQsIGluTWFwOiBib29sZWFuKTogdm9pZCB7XG4gICAgaWYgKHR5cGVvZiB2YWx1ZSAhPT0gJ29iamVjdCcgfHwgdmFsdWUgPT09IG51bGwgfHwgdmlzaXRlZD8uaGFzKHZhbHVlKSkgcmV0dXJuO1xuICAgIHZpc2l0ZWQ/LmFkZCh2YWx1ZSk7XG4gICAgaWYgKEFycmF5LmlzQXJyYXkodmFsdWUpKSB7XG4gICAgICBmb3IgKGNvbnN0IFtpbmRleCwgaW5uZXJdIG9mIHZhbHVlLmVudHJpZXMoKSkge1xuICAgICAgICBpZiAodHlwZW9mIGlubmVyICE9PSAnb2JqZWN0JyB8fCBpbm5lciA9PT0gbnVsbCkgY29udGludWU7XG4gICAgICAgIHBhdGgucHVzaChpbmRleCk7XG4gICAgICAgIHZpc2l0KGlubmVyLCBwYXJ0LCBmYWxzZSk7XG4gICAgICAgIHBhdGgucG9wKCk7XG4gICAgICB9XG4gICAgICByZXR1cm47XG4gICAgfVxuICAgIGZvciAoY29uc3Qga2V5IGluIHZhbHVlIGFzIEpzb25NYXApIHtcbiAgICAgIGNvbnN0IGlubmVyID0gKHZhbHVlIGFzIEpzb25NYXApW2tleV07XG4gICAgICBpZiAoa2V5ID09PSAnJHJlZicgJiYgdHlwZW9mIGlubmVyID09PSAnc3RyaW5nJykgKHZhbHVlIGFzIFJlY29yZDxzdHJpbmcsIEpzb24+KS4kcmVmID0gdGFrZShpbm5lciwgcGFydCk7XG4gICAgICBlbHNlIGlmIChcbiAgICAgICAgdHlwZW9mIGlubmVyID09PSAnb2JqZWN0JyAmJlxuICAgICAgICBpbm5lciAhPT0gbnVsbCAmJlxuICAgICAgICAoaW5NYXAgfHwgKCFkYXRhS2V5cy5oYXMoa2V5KSAmJiAha2V5LnN0YXJ0c1dpdGgoJ3gtJykpKVxuICAgICAgKSB7XG4gICAgICAgIHBhdGgucHVzaChrZXkpO1xuICAgICAgICB2aXNpdChpbm5lciwgcGFydCwga2V5ID09PSAncHJvcGVydGllcycgfHwga2V5ID09PSAnc2NoZW1hcycgfHwga2V5ID09PSAnZGVmaW5pdGlvbnMnKTtcbiAgICAgICAgcGF0aC5wb3AoKTtcbiAgICAgIH1cbiAgICB9XG4gIH1cblxuICAvKiogVGhlIGtleSBvZiB3aGF0IGEgcmVmZXJlbmNlIGxlYWRzIHRvLCB3aGljaCBpcyBtYWRlIGEgZGVmaW5pdGlvbi4gKi9cbiAgZnVuY3Rpb24gdGFrZShyZWZlcmVuY2U6IHN0cmluZywgcGFydDogUGFydCk6IHN0cmluZyB7XG4gICAgLy8gTW9zdCBsZWFkIHRvIHdoYXQgaXMga25vd24gYWxyZWFkeSwgd2l0aGluIHRoZSBmaXJzdCBkb2N1bWVudC5cbiAgICBpZiAocmVmZXJlbmNlLnN0YXJ0c1dpdGgoJyMnKSAmJiBwYXJ0ID09PSBkb2N1bWVudHMubWFpbiAmJiBkZWZpbml0aW9ucy5oYXMocmVmZXJlbmNlKSkgcmV0dXJuIHJlZmVyZW5jZTtcbiAgICBjb25zdCBhZGRyZXNzID0gYWRkcmVzc09mKHJlZmVyZW5jZSwgcGFydC51cmkpO1xuICAgIGNvbnN0IGZyYWdtZW50ID0gcmVmZXJlbmNlLmluY2x1ZGVzKCcjJykgPyByZWZlcmVuY2Uuc2xpY2UocmVmZXJlbmNlLmluZGV4T2YoJyMnKSArIDEpIDogJyc7XG4gICAgY29uc3QgeyBtYWluIH0gPSBkb2N1bWVudHM7XG4gICAgY29uc3QgbmFtZSA9IGFkZHJlc3MgPT09IHVuZGVmaW5lZCB8fCBhZGRyZXNzID09PSBtYWluLnVyaSA/ICcnIDogcGFydE5hbWUoYWRkcmVzcywgbWFpbi51cmkpO1xuICAgIGNvbnN0IGtleSA9IGAke25hbWV9IyR7ZnJhZ21lbnR9YDtcbiAgICBpZiAoZGVmaW5pdGlvbnMuaGFzKGtleSkgfHwgbWlzc2luZy5oYXMoa2V5KSkgcmV0dXJuIGtleTtcbiAgICBjb25zdCB0YXJnZXQgPSBhZGRyZXNzID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiBkb2N1bWVudHMucGFydHMuZ2V0KGFkZHJlc3MpO1xuICAgIGNvbnN0IGZvdW5kID0gdGFyZ2V0ICYmIGF0UG9pbnRlcih0YXJnZXQuY29udGVudCBhcyBKc29uLCBmcmFnbWVudCk7XG4gICAgaWYgKGZvdW5kID09PSB1bmRlZmluZWQpIHtcbiAgICAgIG1pc3NpbmcuYWRkKGtleSk7XG4gICAgICB3YXJuaW5ncy5wdXNoKHtcbiAgICAgICAgYXQ6IHBsYWNlVGV4dChwYXJ0KSxcbiAgICAgICAgd2hhdDogdGFyZ2V0ID8gYCRyZWYgJHtyZWZlcmVuY2V9IGxlYWRzIG5vd2hlcmVgIDogYCRyZWYgJHtyZWZlcmVuY2V9IGxlYWRzIHRvIGEgZG9jdW1lbnQgdGhhdCB3YXMgbm90IHJlYWRgLFxuICAgICAgfSk7XG4gICAgICByZXR1cm4ga2V5O1xuICAgIH1cbiAgICBkZWZpbml0aW9ucy5zZXQoa2V5LCBmb3VuZCBhcyBWYWx1ZSk7XG4gICAgLy8gTGF0ZXIsIG5vdCB3aXRoaW46IHNjaGVtYXMgdGhhdCByZWZlciB0byBlYWNoIG90aGVyIG1heSBiZSBhIGNoYWluIG9mIHRob3VzYW5kcy5cbiAgICBpZiAodGFyZ2V0ICYmICEoaXNUcmVlICYmIGlzVmlzaXRlZChmcmFnbWVudCkpKSB3YWl0aW5nLnB1c2goW2ZvdW5kLCB0YXJnZXRdKTtcbiAgICByZXR1cm4ga2V5O1xuICB9XG5cbiAgY29uc3QgcGxhY2VUZXh0ID0gKHBhcnQ6IFBhcnQpOiBzdHJpbmcgPT4ge1xuICAgIGNvbnN0IG5hbWUgPSBwYXJ0ID09PSBkb2N1bWVudHMubWFpbiA/ICcnIDogcGFydE5hbWUocGFydC51cmksIGRvY3VtZW50cy5tYWluLnVyaSk7XG4gICAgcmV0dXJuIGAke25hbWV9JHtwb2ludGVyKC4uLnBhdGgpfWA7XG4gIH07XG5cbiAgdmlzaXQoZG9jdW1lbnRzLm1haW4uY29udGVudCBhcyBKc29uLCBkb2N1bWVudHMubWFpbiwgZmFsc2UpO1xuICBmb3IgKGxldCBuZXh0ID0gd2FpdGluZy5zaGlmdCgpOyBuZXh0OyBuZXh0ID0gd2FpdGluZy5zaGlmdCgpKSB2aXNpdChuZXh0WzBdLCBuZXh0WzFdLCBmYWxzZSk7XG4gIHJldHVybiB7IGRlZmluaXRpb25zLCB3YXJuaW5ncyB9O1xufVxuXG4vKiogQWxsIGAkcmVmYCB0byBvdGhlciBkb2N1bWVudHMsIGFzIHRoZXkgc3RhbmQuICovXG5leHBvcnQgZnVuY3Rpb24gZm9yZWlnblJlZmVyZW5jZXMocGFydDogUGFydCk6IHN0cmluZ1tdIHtcbiAgY29uc3QgZm91bmQgPSBuZXcgU2V0PHN0cmluZz4oKTtcbiAgaWYgKCEvXFwkcmVmW1wiJ10/XFxzKjooPyFcXHMqW1wiJ10/IykvLnRlc3QocGFydC50ZXh0KSkgcmV0dXJuIFtdO1xuICBjb25zdCB2aXNpdCA9ICh2YWx1ZTogdW5rbm93bik6IHZvaWQgPT4ge1xuICAgIGlmICh0eXBlb2YgdmFsdWUgIT09ICdvYmplY3QnIHx8IHZhbHVlID09PSBudWxsKSByZXR1cm47XG4gICAgZm9yIChjb25zdCBrZXkgaW4gdmFsdWUpIHtcbiAgICAgIGNvbnN0IGlubmVyID0gKHZhbHVlIGFzIFJlY29yZDxzdHJpbmcsIHVua25vd24+KVtrZXldO1xuICAgICAgaWYgKGtleSA9PT0gJyRyZWYnICYmIHR5cGVvZiBpbm5lciA9PT0gJ3N0cmluZycpIHtcbiAgICAgICAgaWYgKCFpbm5lci5zdGFydHNXaXRoKCcjJykpIGZvdW5kLmFkZChpbm5lcik7XG4gICAgICB9IGVsc2UgaWYgKHR5cGVvZiBpbm5lciA9PT0gJ29iamVjdCcgJiYgIWRhdGFLZXlzLmhhcyhrZXkpKSB2aXNpdChpbm5lcik7XG4gICAgfVxuICB9O1xuICB2aXNpdChwYXJ0LmNvbnRlbnQpO1xuICByZXR1cm4gWy4uLmZvdW5kXTtcbn1cblxuLyoqIE5hbWVkIHNjaGVtYXMgb2YgdGhlIGZpcnN0IGRvY3VtZW50LCB3aXRoIHRoZWlyIGtleXMuICovXG5leHBvcnQgZnVuY3Rpb24gbmFtZWRTY2hlbWFzKHJvb3Q6IEpzb25NYXApOiBNYXA8c3RyaW5nLCB7IHJlYWRvbmx5IGtleTogc3RyaW5nOyByZWFkb25seSBzY2hlbWE6IEpzb24gfT4ge1xuICBjb25zdCBjb21wb25lbnRzID0gaXNNYXAocm9vdC5jb21wb25lbnRzKSA/IHJvb3QuY29tcG9uZW50cyA6IHt9O1xuICBjb25zdCBmb3VuZCA9IG5ldyBNYXA8c3RyaW5nLCB7IGtleTogc3RyaW5nOyBzY2hlbWE6IEpzb24gfT4oKTtcbiAgZm9yIChjb25zdCBbc2NoZW1hcywgYXRdIG9mIFtcbiAgICBbY29tcG9uZW50cy5zY2hlbWFzLCAnIy9jb21wb25lbnRzL3NjaGVtYXMvJ10sXG4gICAgW3Jvb3QuZGVmaW5pdGlvbnMsICcjL2RlZmluaXRpb25zLyddLFxuICBdIGFzIGNvbnN0KSB7XG4gICAgZm9yIChjb25zdCBbbmFtZSwgc2NoZW1hXSBvZiBPYmplY3QuZW50cmllcyhpc01hcChzY2hlbWFzKSA/IHNjaGVtYXMgOiB7fSkpXG4gICAgICBmb3VuZC5zZXQobmFtZSwgeyBzY2hlbWEsIGtleTogYCR7YXR9JHtuYW1lLnJlcGxhY2VBbGwoJ34nLCAnfjAnKS5yZXBsYWNlQWxsKCcvJywgJ34xJyl9YCB9KTtcbiAgfVxuICByZXR1cm4gZm91bmQ7XG59XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7OztBQVVBLElBQU0sV0FBVyxvQkFBSSxJQUFJLENBQUMsV0FBVyxXQUFXLFFBQVEsU0FBUyxPQUFPLENBQUM7QUFHekUsSUFBTSxZQUFZLENBQUMsYUFDakIsQ0FBQyxTQUFTLE1BQU0sR0FBRyxFQUFFLEtBQUssQ0FBQyxRQUFRLFNBQVMsSUFBSSxHQUFHLEtBQUssSUFBSSxXQUFXLElBQUksQ0FBQztBQVF2RSxTQUFTLG1CQUFtQixXQUFpQztBQUNsRSxRQUFNLGNBQWMsb0JBQUksSUFBbUI7QUFDM0MsUUFBTSxXQUFzQixDQUFDO0FBQzdCLFFBQU0sVUFBVSxvQkFBSSxJQUFZO0FBRWhDLFFBQU0sU0FBUyxVQUFVLEtBQUssYUFBYSxVQUFVLFVBQVUsTUFBTSxTQUFTO0FBQzlFLFFBQU0sVUFBVSxTQUFTLFNBQVksb0JBQUksSUFBWTtBQUNyRCxRQUFNLFVBQTBCLENBQUM7QUFHakMsUUFBTSxPQUE0QixDQUFDO0FBRW5DLFdBQVMsTUFBTSxPQUFhLE1BQVksT0FBc0I7QUFDNUQsUUFBSSxPQUFPLFVBQVUsWUFBWSxVQUFVLFFBQVEsU0FBUyxJQUFJLEtBQUssRUFBRztBQUN4RSxhQUFTLElBQUksS0FBSztBQUNsQixRQUFJLE1BQU0sUUFBUSxLQUFLLEdBQUc7QUFDeEIsaUJBQVcsQ0FBQyxPQUFPLEtBQUssS0FBSyxNQUFNLFFBQVEsR0FBRztBQUM1QyxZQUFJLE9BQU8sVUFBVSxZQUFZLFVBQVUsS0FBTTtBQUNqRCxhQUFLLEtBQUssS0FBSztBQUNmLGNBQU0sT0FBTyxNQUFNLEtBQUs7QUFDeEIsYUFBSyxJQUFJO0FBQUEsTUFDWDtBQUNBO0FBQUEsSUFDRjtBQUNBLGVBQVcsT0FBTyxPQUFrQjtBQUNsQyxZQUFNLFFBQVMsTUFBa0IsR0FBRztBQUNwQyxVQUFJLFFBQVEsVUFBVSxPQUFPLFVBQVUsU0FBVSxDQUFDLE1BQStCLE9BQU8sS0FBSyxPQUFPLElBQUk7QUFBQSxlQUV0RyxPQUFPLFVBQVUsWUFDakIsVUFBVSxTQUNULFNBQVUsQ0FBQyxTQUFTLElBQUksR0FBRyxLQUFLLENBQUMsSUFBSSxXQUFXLElBQUksSUFDckQ7QUFDQSxhQUFLLEtBQUssR0FBRztBQUNiLGNBQU0sT0FBTyxNQUFNLFFBQVEsZ0JBQWdCLFFBQVEsYUFBYSxRQUFRLGFBQWE7QUFDckYsYUFBSyxJQUFJO0FBQUEsTUFDWDtBQUFBLElBQ0Y7QUFBQSxFQUNGO0FBR0EsV0FBUyxLQUFLLFdBQW1CLE1BQW9CO0FBRW5ELFFBQUksVUFBVSxXQUFXLEdBQUcsS0FBSyxTQUFTLFVBQVUsUUFBUSxZQUFZLElBQUksU0FBUyxFQUFHLFFBQU87QUFDL0YsVUFBTSxVQUFVLFVBQVUsV0FBVyxLQUFLLEdBQUc7QUFDN0MsVUFBTSxXQUFXLFVBQVUsU0FBUyxHQUFHLElBQUksVUFBVSxNQUFNLFVBQVUsUUFBUSxHQUFHLElBQUksQ0FBQyxJQUFJO0FBQ3pGLFVBQU0sRUFBRSxLQUFLLElBQUk7QUFDakIsVUFBTSxPQUFPLFlBQVksVUFBYSxZQUFZLEtBQUssTUFBTSxLQUFLLFNBQVMsU0FBUyxLQUFLLEdBQUc7QUFDNUYsVUFBTSxNQUFNLEdBQUcsSUFBSSxJQUFJLFFBQVE7QUFDL0IsUUFBSSxZQUFZLElBQUksR0FBRyxLQUFLLFFBQVEsSUFBSSxHQUFHLEVBQUcsUUFBTztBQUNyRCxVQUFNLFNBQVMsWUFBWSxTQUFZLFNBQVksVUFBVSxNQUFNLElBQUksT0FBTztBQUM5RSxVQUFNLFFBQVEsVUFBVSxVQUFVLE9BQU8sU0FBaUIsUUFBUTtBQUNsRSxRQUFJLFVBQVUsUUFBVztBQUN2QixjQUFRLElBQUksR0FBRztBQUNmLGVBQVMsS0FBSztBQUFBLFFBQ1osSUFBSSxVQUFVLElBQUk7QUFBQSxRQUNsQixNQUFNLFNBQVMsUUFBUSxTQUFTLG1CQUFtQixRQUFRLFNBQVM7QUFBQSxNQUN0RSxDQUFDO0FBQ0QsYUFBTztBQUFBLElBQ1Q7QUFDQSxnQkFBWSxJQUFJLEtBQUssS0FBYztBQUVuQyxRQUFJLFVBQVUsRUFBRSxVQUFVLFVBQVUsUUFBUSxHQUFJLFNBQVEsS0FBSyxDQUFDLE9BQU8sTUFBTSxDQUFDO0FBQzVFLFdBQU87QUFBQSxFQUNUO0FBRUEsUUFBTSxZQUFZLENBQUMsU0FBdUI7QUFDeEMsVUFBTSxPQUFPLFNBQVMsVUFBVSxPQUFPLEtBQUssU0FBUyxLQUFLLEtBQUssVUFBVSxLQUFLLEdBQUc7QUFDakYsV0FBTyxHQUFHLElBQUksR0FBRyxRQUFRLEdBQUcsSUFBSSxDQUFDO0FBQUEsRUFDbkM7QUFFQSxRQUFNLFVBQVUsS0FBSyxTQUFpQixVQUFVLE1BQU0sS0FBSztBQUMzRCxXQUFTLE9BQU8sUUFBUSxNQUFNLEdBQUcsTUFBTSxPQUFPLFFBQVEsTUFBTSxFQUFHLE9BQU0sS0FBSyxDQUFDLEdBQUcsS0FBSyxDQUFDLEdBQUcsS0FBSztBQUM1RixTQUFPLEVBQUUsYUFBYSxTQUFTO0FBQ2pDO0FBR08sU0FBUyxrQkFBa0IsTUFBc0I7QUFDdEQsUUFBTSxRQUFRLG9CQUFJLElBQVk7QUFDOUIsTUFBSSxDQUFDLDhCQUE4QixLQUFLLEtBQUssSUFBSSxFQUFHLFFBQU8sQ0FBQztBQUM1RCxRQUFNLFFBQVEsQ0FBQyxVQUF5QjtBQUN0QyxRQUFJLE9BQU8sVUFBVSxZQUFZLFVBQVUsS0FBTTtBQUNqRCxlQUFXLE9BQU8sT0FBTztBQUN2QixZQUFNLFFBQVMsTUFBa0MsR0FBRztBQUNwRCxVQUFJLFFBQVEsVUFBVSxPQUFPLFVBQVUsVUFBVTtBQUMvQyxZQUFJLENBQUMsTUFBTSxXQUFXLEdBQUcsRUFBRyxPQUFNLElBQUksS0FBSztBQUFBLE1BQzdDLFdBQVcsT0FBTyxVQUFVLFlBQVksQ0FBQyxTQUFTLElBQUksR0FBRyxFQUFHLE9BQU0sS0FBSztBQUFBLElBQ3pFO0FBQUEsRUFDRjtBQUNBLFFBQU0sS0FBSyxPQUFPO0FBQ2xCLFNBQU8sQ0FBQyxHQUFHLEtBQUs7QUFDbEI7QUFHTyxTQUFTLGFBQWEsTUFBNkU7QUFDeEcsUUFBTSxhQUFhLE1BQU0sS0FBSyxVQUFVLElBQUksS0FBSyxhQUFhLENBQUM7QUFDL0QsUUFBTSxRQUFRLG9CQUFJLElBQTJDO0FBQzdELGFBQVcsQ0FBQyxTQUFTLEVBQUUsS0FBSztBQUFBLElBQzFCLENBQUMsV0FBVyxTQUFTLHVCQUF1QjtBQUFBLElBQzVDLENBQUMsS0FBSyxhQUFhLGdCQUFnQjtBQUFBLEVBQ3JDLEdBQVk7QUFDVixlQUFXLENBQUMsTUFBTSxNQUFNLEtBQUssT0FBTyxRQUFRLE1BQU0sT0FBTyxJQUFJLFVBQVUsQ0FBQyxDQUFDO0FBQ3ZFLFlBQU0sSUFBSSxNQUFNLEVBQUUsUUFBUSxLQUFLLEdBQUcsRUFBRSxHQUFHLEtBQUssV0FBVyxLQUFLLElBQUksRUFBRSxXQUFXLEtBQUssSUFBSSxDQUFDLEdBQUcsQ0FBQztBQUFBLEVBQy9GO0FBQ0EsU0FBTztBQUNUOyIsCiAgIm5hbWVzIjogW10KfQo=
