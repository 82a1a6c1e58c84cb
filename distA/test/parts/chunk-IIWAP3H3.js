import {
  nearest
} from "./chunk-PACVB44P.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";
import {
  typeOf
} from "./chunk-XGDOGID3.js";

// src/core/collection/shape.ts
import { safeParse } from "zod/v4/core";
function shaped(schema, file) {
  const result = safeParse(schema, file.value);
  if (result.success) return result.data;
  throw problemsOf(schema, result.error.issues, file)[0] ?? new Problem("file-shape", { what: `${file.file} has the wrong shape` });
}
function shapeProblems(schema, file) {
  const result = safeParse(schema, file.value);
  return result.success ? [] : problemsOf(schema, result.error.issues, file);
}
function problemsOf(schema, issues, file) {
  return issues.flatMap((issue) => problemOf(schema, issue, file));
}
function problemOf(schema, issue, file) {
  const path = issue.path.map((key) => typeof key === "symbol" ? String(key) : key);
  const found = valueAt(file.value, path);
  const make = (what, remedy, at = path, part = "value") => {
    const where = file.position(at, part);
    const line = file.line(where);
    const excerpt = line === void 0 ? void 0 : `${line}
${" ".repeat(Math.max(0, (where.column ?? 1) - 1))}^`;
    return new Problem("file-shape", { what, where, remedy, excerpt, data: { key: at.join(".") } });
  };
  switch (issue.code) {
    case "unrecognized_keys": {
      const allowed = keysAt(schema, path);
      return issue.keys.map((key) => {
        const near = nearest(key, allowed);
        const remedy = near === void 0 ? allowed.length > 0 ? `known here: ${allowed.join(", ")}` : void 0 : `did you mean ${near}?`;
        return make(`${keyText([...path, key])} is not a key that is known here`, remedy, [...path, key], "key");
      });
    }
    case "invalid_type": {
      if (found === void 0)
        return [make(`${keyText(path)} is missing`, `expected ${kindName(issue.expected)}`, path.slice(0, -1), "key")];
      return [
        make(
          `${keyText(path)} must be ${kindName(issue.expected)}, not ${foundText(found)}`,
          quotesHint(found, issue.expected)
        )
      ];
    }
    case "invalid_value": {
      const near = nearest(String(found), issue.values.map(String));
      const known = `allowed: ${issue.values.map(String).join(", ")}`;
      if (found === void 0) return [make(`${keyText(path)} is missing`, known, path.slice(0, -1), "key")];
      return [
        make(
          `${keyText(path)} cannot be ${foundText(found)}`,
          near === void 0 ? known : `did you mean ${near}? ${known}`
        )
      ];
    }
    case "invalid_union": {
      if (issue.errors.length === 0) {
        const key = issue.discriminator ?? "kind";
        const known = [...schema._zod.propValues?.[key] ?? []].filter((one) => one !== void 0).map(String);
        const at = path.at(-1) === key ? path : [...path, key];
        const given = valueAt(file.value, at);
        if (given === void 0)
          return [make(`${keyText(at)} is missing`, `allowed: ${known.join(", ")}`, at.slice(0, -1), "key")];
        const near = nearest(String(given), known);
        return [
          make(
            `${keyText(at)} cannot be ${foundText(given)}`,
            `${near === void 0 ? "" : `did you mean ${near}? `}allowed: ${known.join(", ")}`,
            at
          )
        ];
      }
      const best = [...issue.errors].sort((a, b) => unionDepth(b) - unionDepth(a) || faultCount(a) - faultCount(b))[0] ?? [];
      const misspelt = best.filter((inner) => inner.code === "unrecognized_keys");
      const deeper = misspelt.length > 0 ? misspelt : best.filter((inner) => inner.path.length > 0);
      if (deeper.length > 0)
        return problemsOf(
          schema,
          deeper.map((inner) => ({ ...inner, path: [...issue.path, ...inner.path] })),
          file
        );
      const kinds = [
        ...new Set(
          issue.errors.flat().map((inner) => inner.code === "invalid_type" ? kindName(inner.expected) : void 0)
        )
      ];
      const wanted = kinds.filter((kind) => kind !== void 0).join(" or ");
      const fallback = issue.errors.flat().find((inner) => inner.message && inner.code === "custom")?.message;
      return [
        make(
          `${keyText(path)} must be ${wanted || fallback || "something else"}, not ${foundText(found ?? null)}`,
          quotesHint(found ?? null, "string")
        )
      ];
    }
    default:
      return [make(`${keyText(path)}: ${issue.message}`)];
  }
}
var unionDepth = (issues) => Math.max(0, ...issues.map((issue) => issue.path.length + (issue.code === "unrecognized_keys" ? 1 : 0)));
var faultCount = (issues) => issues.reduce((sum, issue) => sum + (issue.code === "unrecognized_keys" ? issue.keys.length : 1), 0);
function keysAt(schema, path) {
  const def = schema._zod.def;
  if (def.options) return [...new Set(def.options.flatMap((option) => keysAt(option, path)))];
  const inside = def.innerType ?? def.getter?.();
  if (inside) return keysAt(inside, path);
  const [key, ...rest] = path;
  if (key === void 0) return def.shape ? Object.keys(def.shape) : [];
  const next = def.shape?.[key] ?? def.valueType ?? def.element;
  return next ? keysAt(next, rest) : [];
}
function keyText(path) {
  if (path.length === 0) return "the file";
  return path.map((key, index) => typeof key === "number" ? `[${key}]` : index === 0 ? key : `.${key}`).join("");
}
var names = {
  string: "a text",
  number: "a number",
  int: "a whole number",
  boolean: "true or false",
  array: "a list",
  object: "a map of keys",
  record: "a map of names",
  null: "nothing"
};
var kindName = (expected) => names[expected] ?? expected;
function foundText(found) {
  const type = typeOf(found);
  if (type === "object") return "a map";
  if (type === "array") return "a list";
  if (type === "null") return "nothing";
  return `${type === "string" ? "the text" : `the ${type === "integer" ? "number" : type}`} ${typeof found === "object" ? found.text : String(found)}`;
}
function quotesHint(found, expected) {
  if (expected !== "string") return void 0;
  const type = typeOf(found);
  if (type === "object") return 'a text that begins with { needs quotes, as does one that holds ": "';
  if (type === "array") return "a text that begins with [ needs quotes";
  if (type === "null") return 'a text that begins with # needs quotes; an empty text is ""';
  return "put it in quotes to make it a text";
}
function valueAt(value, path) {
  let at = value;
  for (const key of path) {
    if (typeof at !== "object" || at === null || !Object.hasOwn(at, key)) return void 0;
    at = at[key];
  }
  return at;
}

export {
  shaped,
  shapeProblems
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvY29sbGVjdGlvbi9zaGFwZS50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIEhvbGRpbmcgYSBmaWxlIGFnYWluc3QgaXRzIHNjaGVtYTogdGhlIGZpcnN0IGZpbmRpbmcgYXMgYW4gZXJyb3IsIG9yIGFsbCBvZiB0aGVtIGFzIGEgbGlzdC4gKi9cbmltcG9ydCB0eXBlIHsgJFpvZElzc3VlLCAkWm9kVHlwZSwgb3V0cHV0IH0gZnJvbSAnem9kL3Y0L2NvcmUnO1xuaW1wb3J0IHsgc2FmZVBhcnNlIH0gZnJvbSAnem9kL3Y0L2NvcmUnO1xuaW1wb3J0IHsgbmVhcmVzdCB9IGZyb20gJy4uL3Byb2JsZW0vbmVhcmVzdC5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHR5cGVPZiwgdHlwZSBWYWx1ZSB9IGZyb20gJy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHR5cGUgeyBZYW1sRmlsZSB9IGZyb20gJy4veWFtbC5qcyc7XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gZmlsZS1zaGFwZSwgdGhlIGZpcnN0IG9mIGBzaGFwZVByb2JsZW1zYCAqL1xuZXhwb3J0IGZ1bmN0aW9uIHNoYXBlZDxTIGV4dGVuZHMgJFpvZFR5cGU+KHNjaGVtYTogUywgZmlsZTogWWFtbEZpbGUpOiBvdXRwdXQ8Uz4ge1xuICBjb25zdCByZXN1bHQgPSBzYWZlUGFyc2Uoc2NoZW1hLCBmaWxlLnZhbHVlKTtcbiAgaWYgKHJlc3VsdC5zdWNjZXNzKSByZXR1cm4gcmVzdWx0LmRhdGE7XG4gIHRocm93IChcbiAgICBwcm9ibGVtc09mKHNjaGVtYSwgcmVzdWx0LmVycm9yLmlzc3VlcywgZmlsZSlbMF0gPz9cbiAgICBuZXcgUHJvYmxlbSgnZmlsZS1zaGFwZScsIHsgd2hhdDogYCR7ZmlsZS5maWxlfSBoYXMgdGhlIHdyb25nIHNoYXBlYCB9KVxuICApO1xufVxuXG4vKiogRXZlcnl0aGluZyB0aGF0IGlzIHdyb25nIHdpdGggYSBmaWxlLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHNoYXBlUHJvYmxlbXMoc2NoZW1hOiAkWm9kVHlwZSwgZmlsZTogWWFtbEZpbGUpOiBQcm9ibGVtW10ge1xuICBjb25zdCByZXN1bHQgPSBzYWZlUGFyc2Uoc2NoZW1hLCBmaWxlLnZhbHVlKTtcbiAgcmV0dXJuIHJlc3VsdC5zdWNjZXNzID8gW10gOiBwcm9ibGVtc09mKHNjaGVtYSwgcmVzdWx0LmVycm9yLmlzc3VlcywgZmlsZSk7XG59XG5cbmZ1bmN0aW9uIHByb2JsZW1zT2Yoc2NoZW1hOiAkWm9kVHlwZSwgaXNzdWVzOiByZWFkb25seSAkWm9kSXNzdWVbXSwgZmlsZTogWWFtbEZpbGUpOiBQcm9ibGVtW10ge1xuICByZXR1cm4gaXNzdWVzLmZsYXRNYXAoKGlzc3VlKSA9PiBwcm9ibGVtT2Yoc2NoZW1hLCBpc3N1ZSwgZmlsZSkpO1xufVxuXG5mdW5jdGlvbiBwcm9ibGVtT2Yoc2NoZW1hOiAkWm9kVHlwZSwgaXNzdWU6ICRab2RJc3N1ZSwgZmlsZTogWWFtbEZpbGUpOiBQcm9ibGVtW10ge1xuICBjb25zdCBwYXRoID0gaXNzdWUucGF0aC5tYXAoKGtleSkgPT4gKHR5cGVvZiBrZXkgPT09ICdzeW1ib2wnID8gU3RyaW5nKGtleSkgOiBrZXkpKTtcbiAgY29uc3QgZm91bmQgPSB2YWx1ZUF0KGZpbGUudmFsdWUsIHBhdGgpO1xuICBjb25zdCBtYWtlID0gKFxuICAgIHdoYXQ6IHN0cmluZyxcbiAgICByZW1lZHk/OiBzdHJpbmcsXG4gICAgYXQ6IHJlYWRvbmx5IChzdHJpbmcgfCBudW1iZXIpW10gPSBwYXRoLFxuICAgIHBhcnQ6ICdrZXknIHwgJ3ZhbHVlJyA9ICd2YWx1ZScsXG4gICk6IFByb2JsZW0gPT4ge1xuICAgIGNvbnN0IHdoZXJlID0gZmlsZS5wb3NpdGlvbihhdCwgcGFydCk7XG4gICAgY29uc3QgbGluZSA9IGZpbGUubGluZSh3aGVyZSk7XG4gICAgY29uc3QgZXhjZXJwdCA9IGxpbmUgPT09IHVuZGVmaW5lZCA/IHVuZGVmaW5lZCA6IGAke2xpbmV9XFxuJHsnICcucmVwZWF0KE1hdGgubWF4KDAsICh3aGVyZS5jb2x1bW4gPz8gMSkgLSAxKSl9XmA7XG4gICAgcmV0dXJuIG5ldyBQcm9ibGVtKCdmaWxlLXNoYXBlJywgeyB3aGF0LCB3aGVyZSwgcmVtZWR5LCBleGNlcnB0LCBkYXRhOiB7IGtleTogYXQuam9pbignLicpIH0gfSk7XG4gIH07XG4gIHN3aXRjaCAoaXNzdWUuY29kZSkge1xuICAgIGNhc2UgJ3VucmVjb2duaXplZF9rZXlzJzoge1xuICAgICAgY29uc3QgYWxsb3dlZCA9IGtleXNBdChzY2hlbWEsIHBhdGgpO1xuICAgICAgcmV0dXJuIGlzc3VlLmtleXMubWFwKChrZXkpID0+IHtcbiAgICAgICAgY29uc3QgbmVhciA9IG5lYXJlc3Qoa2V5LCBhbGxvd2VkKTtcbiAgICAgICAgY29uc3QgcmVtZWR5ID1cbiAgICAgICAgICBuZWFyID09PSB1bmRlZmluZWRcbiAgICAgICAgICAgID8gYWxsb3dlZC5sZW5ndGggPiAwXG4gICAgICAgICAgICAgID8gYGtub3duIGhlcmU6ICR7YWxsb3dlZC5qb2luKCcsICcpfWBcbiAgICAgICAgICAgICAgOiB1bmRlZmluZWRcbiAgICAgICAgICAgIDogYGRpZCB5b3UgbWVhbiAke25lYXJ9P2A7XG4gICAgICAgIHJldHVybiBtYWtlKGAke2tleVRleHQoWy4uLnBhdGgsIGtleV0pfSBpcyBub3QgYSBrZXkgdGhhdCBpcyBrbm93biBoZXJlYCwgcmVtZWR5LCBbLi4ucGF0aCwga2V5XSwgJ2tleScpO1xuICAgICAgfSk7XG4gICAgfVxuICAgIGNhc2UgJ2ludmFsaWRfdHlwZSc6IHtcbiAgICAgIGlmIChmb3VuZCA9PT0gdW5kZWZpbmVkKVxuICAgICAgICByZXR1cm4gW21ha2UoYCR7a2V5VGV4dChwYXRoKX0gaXMgbWlzc2luZ2AsIGBleHBlY3RlZCAke2tpbmROYW1lKGlzc3VlLmV4cGVjdGVkKX1gLCBwYXRoLnNsaWNlKDAsIC0xKSwgJ2tleScpXTtcbiAgICAgIHJldHVybiBbXG4gICAgICAgIG1ha2UoXG4gICAgICAgICAgYCR7a2V5VGV4dChwYXRoKX0gbXVzdCBiZSAke2tpbmROYW1lKGlzc3VlLmV4cGVjdGVkKX0sIG5vdCAke2ZvdW5kVGV4dChmb3VuZCl9YCxcbiAgICAgICAgICBxdW90ZXNIaW50KGZvdW5kLCBpc3N1ZS5leHBlY3RlZCksXG4gICAgICAgICksXG4gICAgICBdO1xuICAgIH1cbiAgICBjYXNlICdpbnZhbGlkX3ZhbHVlJzoge1xuICAgICAgY29uc3QgbmVhciA9IG5lYXJlc3QoU3RyaW5nKGZvdW5kKSwgaXNzdWUudmFsdWVzLm1hcChTdHJpbmcpKTtcbiAgICAgIGNvbnN0IGtub3duID0gYGFsbG93ZWQ6ICR7aXNzdWUudmFsdWVzLm1hcChTdHJpbmcpLmpvaW4oJywgJyl9YDtcbiAgICAgIGlmIChmb3VuZCA9PT0gdW5kZWZpbmVkKSByZXR1cm4gW21ha2UoYCR7a2V5VGV4dChwYXRoKX0gaXMgbWlzc2luZ2AsIGtub3duLCBwYXRoLnNsaWNlKDAsIC0xKSwgJ2tleScpXTtcbiAgICAgIHJldHVybiBbXG4gICAgICAgIG1ha2UoXG4gICAgICAgICAgYCR7a2V5VGV4dChwYXRoKX0gY2Fubm90IGJlICR7Zm91bmRUZXh0KGZvdW5kKX1gLFxuICAgICAgICAgIG5lYXIgPT09IHVuZGVmaW5lZCA/IGtub3duIDogYGRpZCB5b3UgbWVhbiAke25lYXJ9PyAke2tub3dufWAsXG4gICAgICAgICksXG4gICAgICBdO1xuICAgIH1cbiAgICBjYXNlICdpbnZhbGlkX3VuaW9uJzoge1xuICAgICAgaWYgKGlzc3VlLmVycm9ycy5sZW5ndGggPT09IDApIHtcbiAgICAgICAgY29uc3Qga2V5ID0gKGlzc3VlIGFzIHsgZGlzY3JpbWluYXRvcj86IHN0cmluZyB9KS5kaXNjcmltaW5hdG9yID8/ICdraW5kJztcbiAgICAgICAgLy8gT25lIHRoYXQgbWF5IGJlIGxlZnQgb3V0IGlzIGtub3duIGFzIHVuZGVmaW5lZCwgdG9vLlxuICAgICAgICBjb25zdCBrbm93biA9IFsuLi4oc2NoZW1hLl96b2QucHJvcFZhbHVlcz8uW2tleV0gPz8gW10pXS5maWx0ZXIoKG9uZSkgPT4gb25lICE9PSB1bmRlZmluZWQpLm1hcChTdHJpbmcpO1xuICAgICAgICBjb25zdCBhdCA9IHBhdGguYXQoLTEpID09PSBrZXkgPyBwYXRoIDogWy4uLnBhdGgsIGtleV07XG4gICAgICAgIGNvbnN0IGdpdmVuID0gdmFsdWVBdChmaWxlLnZhbHVlLCBhdCk7XG4gICAgICAgIGlmIChnaXZlbiA9PT0gdW5kZWZpbmVkKVxuICAgICAgICAgIHJldHVybiBbbWFrZShgJHtrZXlUZXh0KGF0KX0gaXMgbWlzc2luZ2AsIGBhbGxvd2VkOiAke2tub3duLmpvaW4oJywgJyl9YCwgYXQuc2xpY2UoMCwgLTEpLCAna2V5JyldO1xuICAgICAgICBjb25zdCBuZWFyID0gbmVhcmVzdChTdHJpbmcoZ2l2ZW4pLCBrbm93bik7XG4gICAgICAgIHJldHVybiBbXG4gICAgICAgICAgbWFrZShcbiAgICAgICAgICAgIGAke2tleVRleHQoYXQpfSBjYW5ub3QgYmUgJHtmb3VuZFRleHQoZ2l2ZW4pfWAsXG4gICAgICAgICAgICBgJHtuZWFyID09PSB1bmRlZmluZWQgPyAnJyA6IGBkaWQgeW91IG1lYW4gJHtuZWFyfT8gYH1hbGxvd2VkOiAke2tub3duLmpvaW4oJywgJyl9YCxcbiAgICAgICAgICAgIGF0LFxuICAgICAgICAgICksXG4gICAgICAgIF07XG4gICAgICB9XG4gICAgICAvLyBUaGUgYWx0ZXJuYXRpdmUgdGhhdCBjYW1lIGZ1cnRoZXN0IHNheXMgbW9zdC5cbiAgICAgIGNvbnN0IGJlc3QgPVxuICAgICAgICBbLi4uaXNzdWUuZXJyb3JzXS5zb3J0KChhLCBiKSA9PiB1bmlvbkRlcHRoKGIpIC0gdW5pb25EZXB0aChhKSB8fCBmYXVsdENvdW50KGEpIC0gZmF1bHRDb3VudChiKSlbMF0gPz8gW107XG4gICAgICAvLyBBIG1pc3NwZWx0IGtleSBpcyBhbHNvIGEgbWlzc2luZyBvbmU7IG9ubHkgdGhlIGZpcnN0IGhlbHBzLlxuICAgICAgY29uc3QgbWlzc3BlbHQgPSBiZXN0LmZpbHRlcigoaW5uZXIpID0+IGlubmVyLmNvZGUgPT09ICd1bnJlY29nbml6ZWRfa2V5cycpO1xuICAgICAgY29uc3QgZGVlcGVyID0gbWlzc3BlbHQubGVuZ3RoID4gMCA/IG1pc3NwZWx0IDogYmVzdC5maWx0ZXIoKGlubmVyKSA9PiBpbm5lci5wYXRoLmxlbmd0aCA+IDApO1xuICAgICAgaWYgKGRlZXBlci5sZW5ndGggPiAwKVxuICAgICAgICByZXR1cm4gcHJvYmxlbXNPZihcbiAgICAgICAgICBzY2hlbWEsXG4gICAgICAgICAgZGVlcGVyLm1hcCgoaW5uZXIpID0+ICh7IC4uLmlubmVyLCBwYXRoOiBbLi4uaXNzdWUucGF0aCwgLi4uaW5uZXIucGF0aF0gfSkpLFxuICAgICAgICAgIGZpbGUsXG4gICAgICAgICk7XG4gICAgICBjb25zdCBraW5kcyA9IFtcbiAgICAgICAgLi4ubmV3IFNldChcbiAgICAgICAgICBpc3N1ZS5lcnJvcnMuZmxhdCgpLm1hcCgoaW5uZXIpID0+IChpbm5lci5jb2RlID09PSAnaW52YWxpZF90eXBlJyA/IGtpbmROYW1lKGlubmVyLmV4cGVjdGVkKSA6IHVuZGVmaW5lZCkpLFxuICAgICAgICApLFxuICAgICAgXTtcbiAgICAgIGNvbnN0IHdhbnRlZCA9IGtpbmRzLmZpbHRlcigoa2luZCkgPT4ga2luZCAhPT0gdW5kZWZpbmVkKS5qb2luKCcgb3IgJyk7XG4gICAgICBjb25zdCBmYWxsYmFjayA9IGlzc3VlLmVycm9ycy5mbGF0KCkuZmluZCgoaW5uZXIpID0+IGlubmVyLm1lc3NhZ2UgJiYgaW5uZXIuY29kZSA9PT0gJ2N1c3RvbScpPy5tZXNzYWdlO1xuICAgICAgcmV0dXJuIFtcbiAgICAgICAgbWFrZShcbiAgICAgICAgICBgJHtrZXlUZXh0KHBhdGgpfSBtdXN0IGJlICR7d2FudGVkIHx8IGZhbGxiYWNrIHx8ICdzb21ldGhpbmcgZWxzZSd9LCBub3QgJHtmb3VuZFRleHQoZm91bmQgPz8gbnVsbCl9YCxcbiAgICAgICAgICBxdW90ZXNIaW50KGZvdW5kID8/IG51bGwsICdzdHJpbmcnKSxcbiAgICAgICAgKSxcbiAgICAgIF07XG4gICAgfVxuICAgIGRlZmF1bHQ6XG4gICAgICByZXR1cm4gW21ha2UoYCR7a2V5VGV4dChwYXRoKX06ICR7aXNzdWUubWVzc2FnZX1gKV07XG4gIH1cbn1cblxuY29uc3QgdW5pb25EZXB0aCA9IChpc3N1ZXM6IHJlYWRvbmx5ICRab2RJc3N1ZVtdKTogbnVtYmVyID0+XG4gIE1hdGgubWF4KDAsIC4uLmlzc3Vlcy5tYXAoKGlzc3VlKSA9PiBpc3N1ZS5wYXRoLmxlbmd0aCArIChpc3N1ZS5jb2RlID09PSAndW5yZWNvZ25pemVkX2tleXMnID8gMSA6IDApKSk7XG5cbi8qKiBXaGVyZSB0d28gY2FtZSBhcyBmYXIsIHRoZSBvbmUgd2l0aCBmZXdlciBmYXVsdHMgaXMgbWVhbnQuICovXG5jb25zdCBmYXVsdENvdW50ID0gKGlzc3VlczogcmVhZG9ubHkgJFpvZElzc3VlW10pOiBudW1iZXIgPT5cbiAgaXNzdWVzLnJlZHVjZSgoc3VtLCBpc3N1ZSkgPT4gc3VtICsgKGlzc3VlLmNvZGUgPT09ICd1bnJlY29nbml6ZWRfa2V5cycgPyBpc3N1ZS5rZXlzLmxlbmd0aCA6IDEpLCAwKTtcblxuLyoqIFRoZSBrZXlzIHRoYXQgdGhlIHNjaGVtYSBrbm93cyBhdCBhIHBhdGg7IG9mIGEgdW5pb24sIHRob3NlIG9mIGFsbCBpdHMgYWx0ZXJuYXRpdmVzLiAqL1xuZnVuY3Rpb24ga2V5c0F0KHNjaGVtYTogJFpvZFR5cGUsIHBhdGg6IHJlYWRvbmx5IChzdHJpbmcgfCBudW1iZXIpW10pOiByZWFkb25seSBzdHJpbmdbXSB7XG4gIGNvbnN0IGRlZiA9IHNjaGVtYS5fem9kLmRlZiBhcyB1bmtub3duIGFzIHtcbiAgICB0eXBlOiBzdHJpbmc7XG4gICAgc2hhcGU/OiBSZWNvcmQ8c3RyaW5nLCAkWm9kVHlwZT47XG4gICAgaW5uZXJUeXBlPzogJFpvZFR5cGU7XG4gICAgdmFsdWVUeXBlPzogJFpvZFR5cGU7XG4gICAgZWxlbWVudD86ICRab2RUeXBlO1xuICAgIG9wdGlvbnM/OiByZWFkb25seSAkWm9kVHlwZVtdO1xuICAgIGdldHRlcj86ICgpID0+ICRab2RUeXBlO1xuICB9O1xuICBpZiAoZGVmLm9wdGlvbnMpIHJldHVybiBbLi4ubmV3IFNldChkZWYub3B0aW9ucy5mbGF0TWFwKChvcHRpb24pID0+IGtleXNBdChvcHRpb24sIHBhdGgpKSldO1xuICBjb25zdCBpbnNpZGUgPSBkZWYuaW5uZXJUeXBlID8/IGRlZi5nZXR0ZXI/LigpO1xuICBpZiAoaW5zaWRlKSByZXR1cm4ga2V5c0F0KGluc2lkZSwgcGF0aCk7XG4gIGNvbnN0IFtrZXksIC4uLnJlc3RdID0gcGF0aDtcbiAgaWYgKGtleSA9PT0gdW5kZWZpbmVkKSByZXR1cm4gZGVmLnNoYXBlID8gT2JqZWN0LmtleXMoZGVmLnNoYXBlKSA6IFtdO1xuICBjb25zdCBuZXh0ID0gZGVmLnNoYXBlPy5ba2V5XSA/PyBkZWYudmFsdWVUeXBlID8/IGRlZi5lbGVtZW50O1xuICByZXR1cm4gbmV4dCA/IGtleXNBdChuZXh0LCByZXN0KSA6IFtdO1xufVxuXG5mdW5jdGlvbiBrZXlUZXh0KHBhdGg6IHJlYWRvbmx5IChzdHJpbmcgfCBudW1iZXIpW10pOiBzdHJpbmcge1xuICBpZiAocGF0aC5sZW5ndGggPT09IDApIHJldHVybiAndGhlIGZpbGUnO1xuICByZXR1cm4gcGF0aC5tYXAoKGtleSwgaW5kZXgpID0+ICh0eXBlb2Yga2V5ID09PSAnbnVtYmVyJyA/IGBbJHtrZXl9XWAgOiBpbmRleCA9PT0gMCA/IGtleSA6IGAuJHtrZXl9YCkpLmpvaW4oJycpO1xufVxuXG5jb25zdCBuYW1lczogUmVjb3JkPHN0cmluZywgc3RyaW5nPiA9IHtcbiAgc3RyaW5nOiAnYSB0ZXh0JyxcbiAgbnVtYmVyOiAnYSBudW1iZXInLFxuICBpbnQ6ICdhIHdob2xlIG51bWJlcicsXG4gIGJvb2xlYW46ICd0cnVlIG9yIGZhbHNlJyxcbiAgYXJyYXk6ICdhIGxpc3QnLFxuICBvYmplY3Q6ICdhIG1hcCBvZiBrZXlzJyxcbiAgcmVjb3JkOiAnYSBtYXAgb2YgbmFtZXMnLFxuICBudWxsOiAnbm90aGluZycsXG59O1xuY29uc3Qga2luZE5hbWUgPSAoZXhwZWN0ZWQ6IHN0cmluZyk6IHN0cmluZyA9PiBuYW1lc1tleHBlY3RlZF0gPz8gZXhwZWN0ZWQ7XG5cbmZ1bmN0aW9uIGZvdW5kVGV4dChmb3VuZDogVmFsdWUpOiBzdHJpbmcge1xuICBjb25zdCB0eXBlID0gdHlwZU9mKGZvdW5kKTtcbiAgaWYgKHR5cGUgPT09ICdvYmplY3QnKSByZXR1cm4gJ2EgbWFwJztcbiAgaWYgKHR5cGUgPT09ICdhcnJheScpIHJldHVybiAnYSBsaXN0JztcbiAgaWYgKHR5cGUgPT09ICdudWxsJykgcmV0dXJuICdub3RoaW5nJztcbiAgcmV0dXJuIGAke3R5cGUgPT09ICdzdHJpbmcnID8gJ3RoZSB0ZXh0JyA6IGB0aGUgJHt0eXBlID09PSAnaW50ZWdlcicgPyAnbnVtYmVyJyA6IHR5cGV9YH0gJHt0eXBlb2YgZm91bmQgPT09ICdvYmplY3QnID8gKGZvdW5kIGFzIHsgdGV4dDogc3RyaW5nIH0pLnRleHQgOiBTdHJpbmcoZm91bmQpfWA7XG59XG5cbi8qKiBXaGVyZSBZQU1MIG1hZGUgYSBtYXAsIGxpc3QsIG51bWJlciBvciB0cnV0aCB2YWx1ZSBvZiB3aGF0IHdhcyBtZWFudCBhcyB0ZXh0LiAqL1xuZnVuY3Rpb24gcXVvdGVzSGludChmb3VuZDogVmFsdWUsIGV4cGVjdGVkOiBzdHJpbmcpOiBzdHJpbmcgfCB1bmRlZmluZWQge1xuICBpZiAoZXhwZWN0ZWQgIT09ICdzdHJpbmcnKSByZXR1cm4gdW5kZWZpbmVkO1xuICBjb25zdCB0eXBlID0gdHlwZU9mKGZvdW5kKTtcbiAgaWYgKHR5cGUgPT09ICdvYmplY3QnKSByZXR1cm4gJ2EgdGV4dCB0aGF0IGJlZ2lucyB3aXRoIHsgbmVlZHMgcXVvdGVzLCBhcyBkb2VzIG9uZSB0aGF0IGhvbGRzIFwiOiBcIic7XG4gIGlmICh0eXBlID09PSAnYXJyYXknKSByZXR1cm4gJ2EgdGV4dCB0aGF0IGJlZ2lucyB3aXRoIFsgbmVlZHMgcXVvdGVzJztcbiAgaWYgKHR5cGUgPT09ICdudWxsJykgcmV0dXJuICdhIHRleHQgdGhhdCBiZWdpbnMgd2l0aCAjIG5lZWRzIHF1b3RlczsgYW4gZW1wdHkgdGV4dCBpcyBcIlwiJztcbiAgcmV0dXJuICdwdXQgaXQgaW4gcXVvdGVzIHRvIG1ha2UgaXQgYSB0ZXh0Jztcbn1cblxuZnVuY3Rpb24gdmFsdWVBdCh2YWx1ZTogVmFsdWUsIHBhdGg6IHJlYWRvbmx5IChzdHJpbmcgfCBudW1iZXIpW10pOiBWYWx1ZSB8IHVuZGVmaW5lZCB7XG4gIGxldCBhdDogdW5rbm93biA9IHZhbHVlO1xuICBmb3IgKGNvbnN0IGtleSBvZiBwYXRoKSB7XG4gICAgaWYgKHR5cGVvZiBhdCAhPT0gJ29iamVjdCcgfHwgYXQgPT09IG51bGwgfHwgIU9iamVjdC5oYXNPd24oYXQsIGtleSkpIHJldHVybiB1bmRlZmluZWQ7XG4gICAgYXQgPSAoYXQgYXMgUmVjb3JkPHN0cmluZyB8IG51bWJlciwgdW5rbm93bj4pW2tleV07XG4gIH1cbiAgcmV0dXJuIGF0IGFzIFZhbHVlO1xufVxuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7Ozs7QUFFQSxTQUFTLGlCQUFpQjtBQU9uQixTQUFTLE9BQTJCLFFBQVcsTUFBMkI7QUFDL0UsUUFBTSxTQUFTLFVBQVUsUUFBUSxLQUFLLEtBQUs7QUFDM0MsTUFBSSxPQUFPLFFBQVMsUUFBTyxPQUFPO0FBQ2xDLFFBQ0UsV0FBVyxRQUFRLE9BQU8sTUFBTSxRQUFRLElBQUksRUFBRSxDQUFDLEtBQy9DLElBQUksUUFBUSxjQUFjLEVBQUUsTUFBTSxHQUFHLEtBQUssSUFBSSx1QkFBdUIsQ0FBQztBQUUxRTtBQUdPLFNBQVMsY0FBYyxRQUFrQixNQUEyQjtBQUN6RSxRQUFNLFNBQVMsVUFBVSxRQUFRLEtBQUssS0FBSztBQUMzQyxTQUFPLE9BQU8sVUFBVSxDQUFDLElBQUksV0FBVyxRQUFRLE9BQU8sTUFBTSxRQUFRLElBQUk7QUFDM0U7QUFFQSxTQUFTLFdBQVcsUUFBa0IsUUFBOEIsTUFBMkI7QUFDN0YsU0FBTyxPQUFPLFFBQVEsQ0FBQyxVQUFVLFVBQVUsUUFBUSxPQUFPLElBQUksQ0FBQztBQUNqRTtBQUVBLFNBQVMsVUFBVSxRQUFrQixPQUFrQixNQUEyQjtBQUNoRixRQUFNLE9BQU8sTUFBTSxLQUFLLElBQUksQ0FBQyxRQUFTLE9BQU8sUUFBUSxXQUFXLE9BQU8sR0FBRyxJQUFJLEdBQUk7QUFDbEYsUUFBTSxRQUFRLFFBQVEsS0FBSyxPQUFPLElBQUk7QUFDdEMsUUFBTSxPQUFPLENBQ1gsTUFDQSxRQUNBLEtBQW1DLE1BQ25DLE9BQXdCLFlBQ1o7QUFDWixVQUFNLFFBQVEsS0FBSyxTQUFTLElBQUksSUFBSTtBQUNwQyxVQUFNLE9BQU8sS0FBSyxLQUFLLEtBQUs7QUFDNUIsVUFBTSxVQUFVLFNBQVMsU0FBWSxTQUFZLEdBQUcsSUFBSTtBQUFBLEVBQUssSUFBSSxPQUFPLEtBQUssSUFBSSxJQUFJLE1BQU0sVUFBVSxLQUFLLENBQUMsQ0FBQyxDQUFDO0FBQzdHLFdBQU8sSUFBSSxRQUFRLGNBQWMsRUFBRSxNQUFNLE9BQU8sUUFBUSxTQUFTLE1BQU0sRUFBRSxLQUFLLEdBQUcsS0FBSyxHQUFHLEVBQUUsRUFBRSxDQUFDO0FBQUEsRUFDaEc7QUFDQSxVQUFRLE1BQU0sTUFBTTtBQUFBLElBQ2xCLEtBQUsscUJBQXFCO0FBQ3hCLFlBQU0sVUFBVSxPQUFPLFFBQVEsSUFBSTtBQUNuQyxhQUFPLE1BQU0sS0FBSyxJQUFJLENBQUMsUUFBUTtBQUM3QixjQUFNLE9BQU8sUUFBUSxLQUFLLE9BQU87QUFDakMsY0FBTSxTQUNKLFNBQVMsU0FDTCxRQUFRLFNBQVMsSUFDZixlQUFlLFFBQVEsS0FBSyxJQUFJLENBQUMsS0FDakMsU0FDRixnQkFBZ0IsSUFBSTtBQUMxQixlQUFPLEtBQUssR0FBRyxRQUFRLENBQUMsR0FBRyxNQUFNLEdBQUcsQ0FBQyxDQUFDLG9DQUFvQyxRQUFRLENBQUMsR0FBRyxNQUFNLEdBQUcsR0FBRyxLQUFLO0FBQUEsTUFDekcsQ0FBQztBQUFBLElBQ0g7QUFBQSxJQUNBLEtBQUssZ0JBQWdCO0FBQ25CLFVBQUksVUFBVTtBQUNaLGVBQU8sQ0FBQyxLQUFLLEdBQUcsUUFBUSxJQUFJLENBQUMsZUFBZSxZQUFZLFNBQVMsTUFBTSxRQUFRLENBQUMsSUFBSSxLQUFLLE1BQU0sR0FBRyxFQUFFLEdBQUcsS0FBSyxDQUFDO0FBQy9HLGFBQU87QUFBQSxRQUNMO0FBQUEsVUFDRSxHQUFHLFFBQVEsSUFBSSxDQUFDLFlBQVksU0FBUyxNQUFNLFFBQVEsQ0FBQyxTQUFTLFVBQVUsS0FBSyxDQUFDO0FBQUEsVUFDN0UsV0FBVyxPQUFPLE1BQU0sUUFBUTtBQUFBLFFBQ2xDO0FBQUEsTUFDRjtBQUFBLElBQ0Y7QUFBQSxJQUNBLEtBQUssaUJBQWlCO0FBQ3BCLFlBQU0sT0FBTyxRQUFRLE9BQU8sS0FBSyxHQUFHLE1BQU0sT0FBTyxJQUFJLE1BQU0sQ0FBQztBQUM1RCxZQUFNLFFBQVEsWUFBWSxNQUFNLE9BQU8sSUFBSSxNQUFNLEVBQUUsS0FBSyxJQUFJLENBQUM7QUFDN0QsVUFBSSxVQUFVLE9BQVcsUUFBTyxDQUFDLEtBQUssR0FBRyxRQUFRLElBQUksQ0FBQyxlQUFlLE9BQU8sS0FBSyxNQUFNLEdBQUcsRUFBRSxHQUFHLEtBQUssQ0FBQztBQUNyRyxhQUFPO0FBQUEsUUFDTDtBQUFBLFVBQ0UsR0FBRyxRQUFRLElBQUksQ0FBQyxjQUFjLFVBQVUsS0FBSyxDQUFDO0FBQUEsVUFDOUMsU0FBUyxTQUFZLFFBQVEsZ0JBQWdCLElBQUksS0FBSyxLQUFLO0FBQUEsUUFDN0Q7QUFBQSxNQUNGO0FBQUEsSUFDRjtBQUFBLElBQ0EsS0FBSyxpQkFBaUI7QUFDcEIsVUFBSSxNQUFNLE9BQU8sV0FBVyxHQUFHO0FBQzdCLGNBQU0sTUFBTyxNQUFxQyxpQkFBaUI7QUFFbkUsY0FBTSxRQUFRLENBQUMsR0FBSSxPQUFPLEtBQUssYUFBYSxHQUFHLEtBQUssQ0FBQyxDQUFFLEVBQUUsT0FBTyxDQUFDLFFBQVEsUUFBUSxNQUFTLEVBQUUsSUFBSSxNQUFNO0FBQ3RHLGNBQU0sS0FBSyxLQUFLLEdBQUcsRUFBRSxNQUFNLE1BQU0sT0FBTyxDQUFDLEdBQUcsTUFBTSxHQUFHO0FBQ3JELGNBQU0sUUFBUSxRQUFRLEtBQUssT0FBTyxFQUFFO0FBQ3BDLFlBQUksVUFBVTtBQUNaLGlCQUFPLENBQUMsS0FBSyxHQUFHLFFBQVEsRUFBRSxDQUFDLGVBQWUsWUFBWSxNQUFNLEtBQUssSUFBSSxDQUFDLElBQUksR0FBRyxNQUFNLEdBQUcsRUFBRSxHQUFHLEtBQUssQ0FBQztBQUNuRyxjQUFNLE9BQU8sUUFBUSxPQUFPLEtBQUssR0FBRyxLQUFLO0FBQ3pDLGVBQU87QUFBQSxVQUNMO0FBQUEsWUFDRSxHQUFHLFFBQVEsRUFBRSxDQUFDLGNBQWMsVUFBVSxLQUFLLENBQUM7QUFBQSxZQUM1QyxHQUFHLFNBQVMsU0FBWSxLQUFLLGdCQUFnQixJQUFJLElBQUksWUFBWSxNQUFNLEtBQUssSUFBSSxDQUFDO0FBQUEsWUFDakY7QUFBQSxVQUNGO0FBQUEsUUFDRjtBQUFBLE1BQ0Y7QUFFQSxZQUFNLE9BQ0osQ0FBQyxHQUFHLE1BQU0sTUFBTSxFQUFFLEtBQUssQ0FBQyxHQUFHLE1BQU0sV0FBVyxDQUFDLElBQUksV0FBVyxDQUFDLEtBQUssV0FBVyxDQUFDLElBQUksV0FBVyxDQUFDLENBQUMsRUFBRSxDQUFDLEtBQUssQ0FBQztBQUUxRyxZQUFNLFdBQVcsS0FBSyxPQUFPLENBQUMsVUFBVSxNQUFNLFNBQVMsbUJBQW1CO0FBQzFFLFlBQU0sU0FBUyxTQUFTLFNBQVMsSUFBSSxXQUFXLEtBQUssT0FBTyxDQUFDLFVBQVUsTUFBTSxLQUFLLFNBQVMsQ0FBQztBQUM1RixVQUFJLE9BQU8sU0FBUztBQUNsQixlQUFPO0FBQUEsVUFDTDtBQUFBLFVBQ0EsT0FBTyxJQUFJLENBQUMsV0FBVyxFQUFFLEdBQUcsT0FBTyxNQUFNLENBQUMsR0FBRyxNQUFNLE1BQU0sR0FBRyxNQUFNLElBQUksRUFBRSxFQUFFO0FBQUEsVUFDMUU7QUFBQSxRQUNGO0FBQ0YsWUFBTSxRQUFRO0FBQUEsUUFDWixHQUFHLElBQUk7QUFBQSxVQUNMLE1BQU0sT0FBTyxLQUFLLEVBQUUsSUFBSSxDQUFDLFVBQVcsTUFBTSxTQUFTLGlCQUFpQixTQUFTLE1BQU0sUUFBUSxJQUFJLE1BQVU7QUFBQSxRQUMzRztBQUFBLE1BQ0Y7QUFDQSxZQUFNLFNBQVMsTUFBTSxPQUFPLENBQUMsU0FBUyxTQUFTLE1BQVMsRUFBRSxLQUFLLE1BQU07QUFDckUsWUFBTSxXQUFXLE1BQU0sT0FBTyxLQUFLLEVBQUUsS0FBSyxDQUFDLFVBQVUsTUFBTSxXQUFXLE1BQU0sU0FBUyxRQUFRLEdBQUc7QUFDaEcsYUFBTztBQUFBLFFBQ0w7QUFBQSxVQUNFLEdBQUcsUUFBUSxJQUFJLENBQUMsWUFBWSxVQUFVLFlBQVksZ0JBQWdCLFNBQVMsVUFBVSxTQUFTLElBQUksQ0FBQztBQUFBLFVBQ25HLFdBQVcsU0FBUyxNQUFNLFFBQVE7QUFBQSxRQUNwQztBQUFBLE1BQ0Y7QUFBQSxJQUNGO0FBQUEsSUFDQTtBQUNFLGFBQU8sQ0FBQyxLQUFLLEdBQUcsUUFBUSxJQUFJLENBQUMsS0FBSyxNQUFNLE9BQU8sRUFBRSxDQUFDO0FBQUEsRUFDdEQ7QUFDRjtBQUVBLElBQU0sYUFBYSxDQUFDLFdBQ2xCLEtBQUssSUFBSSxHQUFHLEdBQUcsT0FBTyxJQUFJLENBQUMsVUFBVSxNQUFNLEtBQUssVUFBVSxNQUFNLFNBQVMsc0JBQXNCLElBQUksRUFBRSxDQUFDO0FBR3hHLElBQU0sYUFBYSxDQUFDLFdBQ2xCLE9BQU8sT0FBTyxDQUFDLEtBQUssVUFBVSxPQUFPLE1BQU0sU0FBUyxzQkFBc0IsTUFBTSxLQUFLLFNBQVMsSUFBSSxDQUFDO0FBR3JHLFNBQVMsT0FBTyxRQUFrQixNQUF1RDtBQUN2RixRQUFNLE1BQU0sT0FBTyxLQUFLO0FBU3hCLE1BQUksSUFBSSxRQUFTLFFBQU8sQ0FBQyxHQUFHLElBQUksSUFBSSxJQUFJLFFBQVEsUUFBUSxDQUFDLFdBQVcsT0FBTyxRQUFRLElBQUksQ0FBQyxDQUFDLENBQUM7QUFDMUYsUUFBTSxTQUFTLElBQUksYUFBYSxJQUFJLFNBQVM7QUFDN0MsTUFBSSxPQUFRLFFBQU8sT0FBTyxRQUFRLElBQUk7QUFDdEMsUUFBTSxDQUFDLEtBQUssR0FBRyxJQUFJLElBQUk7QUFDdkIsTUFBSSxRQUFRLE9BQVcsUUFBTyxJQUFJLFFBQVEsT0FBTyxLQUFLLElBQUksS0FBSyxJQUFJLENBQUM7QUFDcEUsUUFBTSxPQUFPLElBQUksUUFBUSxHQUFHLEtBQUssSUFBSSxhQUFhLElBQUk7QUFDdEQsU0FBTyxPQUFPLE9BQU8sTUFBTSxJQUFJLElBQUksQ0FBQztBQUN0QztBQUVBLFNBQVMsUUFBUSxNQUE0QztBQUMzRCxNQUFJLEtBQUssV0FBVyxFQUFHLFFBQU87QUFDOUIsU0FBTyxLQUFLLElBQUksQ0FBQyxLQUFLLFVBQVcsT0FBTyxRQUFRLFdBQVcsSUFBSSxHQUFHLE1BQU0sVUFBVSxJQUFJLE1BQU0sSUFBSSxHQUFHLEVBQUcsRUFBRSxLQUFLLEVBQUU7QUFDakg7QUFFQSxJQUFNLFFBQWdDO0FBQUEsRUFDcEMsUUFBUTtBQUFBLEVBQ1IsUUFBUTtBQUFBLEVBQ1IsS0FBSztBQUFBLEVBQ0wsU0FBUztBQUFBLEVBQ1QsT0FBTztBQUFBLEVBQ1AsUUFBUTtBQUFBLEVBQ1IsUUFBUTtBQUFBLEVBQ1IsTUFBTTtBQUNSO0FBQ0EsSUFBTSxXQUFXLENBQUMsYUFBNkIsTUFBTSxRQUFRLEtBQUs7QUFFbEUsU0FBUyxVQUFVLE9BQXNCO0FBQ3ZDLFFBQU0sT0FBTyxPQUFPLEtBQUs7QUFDekIsTUFBSSxTQUFTLFNBQVUsUUFBTztBQUM5QixNQUFJLFNBQVMsUUFBUyxRQUFPO0FBQzdCLE1BQUksU0FBUyxPQUFRLFFBQU87QUFDNUIsU0FBTyxHQUFHLFNBQVMsV0FBVyxhQUFhLE9BQU8sU0FBUyxZQUFZLFdBQVcsSUFBSSxFQUFFLElBQUksT0FBTyxVQUFVLFdBQVksTUFBMkIsT0FBTyxPQUFPLEtBQUssQ0FBQztBQUMxSztBQUdBLFNBQVMsV0FBVyxPQUFjLFVBQXNDO0FBQ3RFLE1BQUksYUFBYSxTQUFVLFFBQU87QUFDbEMsUUFBTSxPQUFPLE9BQU8sS0FBSztBQUN6QixNQUFJLFNBQVMsU0FBVSxRQUFPO0FBQzlCLE1BQUksU0FBUyxRQUFTLFFBQU87QUFDN0IsTUFBSSxTQUFTLE9BQVEsUUFBTztBQUM1QixTQUFPO0FBQ1Q7QUFFQSxTQUFTLFFBQVEsT0FBYyxNQUF1RDtBQUNwRixNQUFJLEtBQWM7QUFDbEIsYUFBVyxPQUFPLE1BQU07QUFDdEIsUUFBSSxPQUFPLE9BQU8sWUFBWSxPQUFPLFFBQVEsQ0FBQyxPQUFPLE9BQU8sSUFBSSxHQUFHLEVBQUcsUUFBTztBQUM3RSxTQUFNLEdBQXdDLEdBQUc7QUFBQSxFQUNuRDtBQUNBLFNBQU87QUFDVDsiLAogICJuYW1lcyI6IFtdCn0K
