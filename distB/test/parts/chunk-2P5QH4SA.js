import {
  isMap
} from "./chunk-M6H7XQX2.js";

// src/core/documentation/openapi/json-schema.ts
function asJsonSchema(given, refer = (one) => one, depth = 0) {
  const schema = given;
  if (!isMap(schema)) return schema === false ? false : {};
  if (depth > 200) return {};
  const out = {};
  for (const [key, value] of Object.entries(schema)) {
    if (key === "nullable" || key === "xml" || key === "externalDocs" || key.startsWith("x-")) continue;
    if (key === "$ref" && typeof value === "string") out.$ref = refer(value);
    else if (schemaKeys.has(key)) out[key] = asJsonSchema(value, refer, depth + 1);
    else if (schemaListKeys.has(key) && Array.isArray(value))
      out[key] = value.map((item) => asJsonSchema(item, refer, depth + 1));
    else if (schemaMapKeys.has(key) && isMap(value)) {
      out[key] = Object.fromEntries(
        Object.entries(value).map(([name, item]) => [name, asJsonSchema(item, refer, depth + 1)])
      );
    } else out[key] = value;
  }
  for (const [flag, limit] of [
    ["exclusiveMinimum", "minimum"],
    ["exclusiveMaximum", "maximum"]
  ]) {
    if (typeof out[flag] !== "boolean") continue;
    const number = out[limit];
    const exclusive = out[flag] === true;
    delete out[flag];
    if (exclusive && number !== void 0) {
      delete out[limit];
      out[flag] = number;
    }
  }
  if (schema.nullable !== true) return out;
  if (typeof out.type === "string") out.type = [out.type, "null"];
  if (Array.isArray(out.enum) && !out.enum.includes(null)) out.enum = [...out.enum, null];
  return out;
}
var schemaKeys = /* @__PURE__ */ new Set(["items", "additionalProperties", "not", "contains", "if", "then", "else", "propertyNames"]);
var schemaListKeys = /* @__PURE__ */ new Set(["allOf", "anyOf", "oneOf", "prefixItems"]);
var schemaMapKeys = /* @__PURE__ */ new Set(["properties", "patternProperties", "$defs", "dependentSchemas"]);

export {
  asJsonSchema
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi9vcGVuYXBpL2pzb24tc2NoZW1hLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogU2NoZW1hcyBvZiBPcGVuQVBJIGFzIEpTT04gU2NoZW1hIDIwMjAtMTIsIGZvciB2YWxpZGF0aW9uLiAqL1xuaW1wb3J0IHR5cGUgeyBWYWx1ZSB9IGZyb20gJy4uLy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHsgaXNNYXAsIHR5cGUgSnNvbiB9IGZyb20gJy4vcmVmZXJlbmNlcy5qcyc7XG5cbi8qKiBPcGVuQVBJIDMuMCBzYXlzIGBudWxsYWJsZWAgYW5kIGJvb2xlYW4gbGltaXRzIHdoZXJlIEpTT04gU2NoZW1hIGhhcyBhIHR5cGUgYW5kIGEgbnVtYmVyLiAqL1xuLyoqIEBwYXJhbSByZWZlciB3aGF0IGEgcmVmZXJlbmNlIGlzIGNhbGxlZCBpbiB0aGUgcmVzdWx0ICovXG5leHBvcnQgZnVuY3Rpb24gYXNKc29uU2NoZW1hKFxuICBnaXZlbjogVmFsdWUgfCB1bmRlZmluZWQsXG4gIHJlZmVyOiAocmVmZXJlbmNlOiBzdHJpbmcpID0+IHN0cmluZyA9IChvbmUpID0+IG9uZSxcbiAgZGVwdGggPSAwLFxuKTogVmFsdWUge1xuICBjb25zdCBzY2hlbWEgPSBnaXZlbiBhcyBKc29uIHwgdW5kZWZpbmVkO1xuICBpZiAoIWlzTWFwKHNjaGVtYSkpIHJldHVybiBzY2hlbWEgPT09IGZhbHNlID8gZmFsc2UgOiB7fTtcbiAgaWYgKGRlcHRoID4gMjAwKSByZXR1cm4ge307XG4gIGNvbnN0IG91dDogUmVjb3JkPHN0cmluZywgVmFsdWU+ID0ge307XG4gIGZvciAoY29uc3QgW2tleSwgdmFsdWVdIG9mIE9iamVjdC5lbnRyaWVzKHNjaGVtYSkpIHtcbiAgICBpZiAoa2V5ID09PSAnbnVsbGFibGUnIHx8IGtleSA9PT0gJ3htbCcgfHwga2V5ID09PSAnZXh0ZXJuYWxEb2NzJyB8fCBrZXkuc3RhcnRzV2l0aCgneC0nKSkgY29udGludWU7XG4gICAgaWYgKGtleSA9PT0gJyRyZWYnICYmIHR5cGVvZiB2YWx1ZSA9PT0gJ3N0cmluZycpIG91dC4kcmVmID0gcmVmZXIodmFsdWUpO1xuICAgIGVsc2UgaWYgKHNjaGVtYUtleXMuaGFzKGtleSkpIG91dFtrZXldID0gYXNKc29uU2NoZW1hKHZhbHVlLCByZWZlciwgZGVwdGggKyAxKTtcbiAgICBlbHNlIGlmIChzY2hlbWFMaXN0S2V5cy5oYXMoa2V5KSAmJiBBcnJheS5pc0FycmF5KHZhbHVlKSlcbiAgICAgIG91dFtrZXldID0gdmFsdWUubWFwKChpdGVtOiBKc29uKSA9PiBhc0pzb25TY2hlbWEoaXRlbSwgcmVmZXIsIGRlcHRoICsgMSkpO1xuICAgIGVsc2UgaWYgKHNjaGVtYU1hcEtleXMuaGFzKGtleSkgJiYgaXNNYXAodmFsdWUpKSB7XG4gICAgICBvdXRba2V5XSA9IE9iamVjdC5mcm9tRW50cmllcyhcbiAgICAgICAgT2JqZWN0LmVudHJpZXModmFsdWUpLm1hcCgoW25hbWUsIGl0ZW1dKSA9PiBbbmFtZSwgYXNKc29uU2NoZW1hKGl0ZW0sIHJlZmVyLCBkZXB0aCArIDEpXSksXG4gICAgICApO1xuICAgIH0gZWxzZSBvdXRba2V5XSA9IHZhbHVlIGFzIFZhbHVlO1xuICB9XG4gIGZvciAoY29uc3QgW2ZsYWcsIGxpbWl0XSBvZiBbXG4gICAgWydleGNsdXNpdmVNaW5pbXVtJywgJ21pbmltdW0nXSxcbiAgICBbJ2V4Y2x1c2l2ZU1heGltdW0nLCAnbWF4aW11bSddLFxuICBdIGFzIGNvbnN0KSB7XG4gICAgaWYgKHR5cGVvZiBvdXRbZmxhZ10gIT09ICdib29sZWFuJykgY29udGludWU7XG4gICAgY29uc3QgbnVtYmVyID0gb3V0W2xpbWl0XTtcbiAgICBjb25zdCBleGNsdXNpdmUgPSBvdXRbZmxhZ10gPT09IHRydWU7XG4gICAgZGVsZXRlIG91dFtmbGFnXTtcbiAgICBpZiAoZXhjbHVzaXZlICYmIG51bWJlciAhPT0gdW5kZWZpbmVkKSB7XG4gICAgICBkZWxldGUgb3V0W2xpbWl0XTtcbiAgICAgIG91dFtmbGFnXSA9IG51bWJlcjtcbiAgICB9XG4gIH1cbiAgaWYgKHNjaGVtYS5udWxsYWJsZSAhPT0gdHJ1ZSkgcmV0dXJuIG91dDtcbiAgaWYgKHR5cGVvZiBvdXQudHlwZSA9PT0gJ3N0cmluZycpIG91dC50eXBlID0gW291dC50eXBlLCAnbnVsbCddO1xuICBpZiAoQXJyYXkuaXNBcnJheShvdXQuZW51bSkgJiYgIW91dC5lbnVtLmluY2x1ZGVzKG51bGwpKSBvdXQuZW51bSA9IFsuLi4ob3V0LmVudW0gYXMgVmFsdWVbXSksIG51bGxdO1xuICByZXR1cm4gb3V0O1xufVxuXG5jb25zdCBzY2hlbWFLZXlzID0gbmV3IFNldChbJ2l0ZW1zJywgJ2FkZGl0aW9uYWxQcm9wZXJ0aWVzJywgJ25vdCcsICdjb250YWlucycsICdpZicsICd0aGVuJywgJ2Vsc2UnLCAncHJvcGVydHlOYW1lcyddKTtcbmNvbnN0IHNjaGVtYUxpc3RLZXlzID0gbmV3IFNldChbJ2FsbE9mJywgJ2FueU9mJywgJ29uZU9mJywgJ3ByZWZpeEl0ZW1zJ10pO1xuY29uc3Qgc2NoZW1hTWFwS2V5cyA9IG5ldyBTZXQoWydwcm9wZXJ0aWVzJywgJ3BhdHRlcm5Qcm9wZXJ0aWVzJywgJyRkZWZzJywgJ2RlcGVuZGVudFNjaGVtYXMnXSk7XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7OztBQU1PLFNBQVMsYUFDZCxPQUNBLFFBQXVDLENBQUMsUUFBUSxLQUNoRCxRQUFRLEdBQ0Q7QUFDUCxRQUFNLFNBQVM7QUFDZixNQUFJLENBQUMsTUFBTSxNQUFNLEVBQUcsUUFBTyxXQUFXLFFBQVEsUUFBUSxDQUFDO0FBQ3ZELE1BQUksUUFBUSxJQUFLLFFBQU8sQ0FBQztBQUN6QixRQUFNLE1BQTZCLENBQUM7QUFDcEMsYUFBVyxDQUFDLEtBQUssS0FBSyxLQUFLLE9BQU8sUUFBUSxNQUFNLEdBQUc7QUFDakQsUUFBSSxRQUFRLGNBQWMsUUFBUSxTQUFTLFFBQVEsa0JBQWtCLElBQUksV0FBVyxJQUFJLEVBQUc7QUFDM0YsUUFBSSxRQUFRLFVBQVUsT0FBTyxVQUFVLFNBQVUsS0FBSSxPQUFPLE1BQU0sS0FBSztBQUFBLGFBQzlELFdBQVcsSUFBSSxHQUFHLEVBQUcsS0FBSSxHQUFHLElBQUksYUFBYSxPQUFPLE9BQU8sUUFBUSxDQUFDO0FBQUEsYUFDcEUsZUFBZSxJQUFJLEdBQUcsS0FBSyxNQUFNLFFBQVEsS0FBSztBQUNyRCxVQUFJLEdBQUcsSUFBSSxNQUFNLElBQUksQ0FBQyxTQUFlLGFBQWEsTUFBTSxPQUFPLFFBQVEsQ0FBQyxDQUFDO0FBQUEsYUFDbEUsY0FBYyxJQUFJLEdBQUcsS0FBSyxNQUFNLEtBQUssR0FBRztBQUMvQyxVQUFJLEdBQUcsSUFBSSxPQUFPO0FBQUEsUUFDaEIsT0FBTyxRQUFRLEtBQUssRUFBRSxJQUFJLENBQUMsQ0FBQyxNQUFNLElBQUksTUFBTSxDQUFDLE1BQU0sYUFBYSxNQUFNLE9BQU8sUUFBUSxDQUFDLENBQUMsQ0FBQztBQUFBLE1BQzFGO0FBQUEsSUFDRixNQUFPLEtBQUksR0FBRyxJQUFJO0FBQUEsRUFDcEI7QUFDQSxhQUFXLENBQUMsTUFBTSxLQUFLLEtBQUs7QUFBQSxJQUMxQixDQUFDLG9CQUFvQixTQUFTO0FBQUEsSUFDOUIsQ0FBQyxvQkFBb0IsU0FBUztBQUFBLEVBQ2hDLEdBQVk7QUFDVixRQUFJLE9BQU8sSUFBSSxJQUFJLE1BQU0sVUFBVztBQUNwQyxVQUFNLFNBQVMsSUFBSSxLQUFLO0FBQ3hCLFVBQU0sWUFBWSxJQUFJLElBQUksTUFBTTtBQUNoQyxXQUFPLElBQUksSUFBSTtBQUNmLFFBQUksYUFBYSxXQUFXLFFBQVc7QUFDckMsYUFBTyxJQUFJLEtBQUs7QUFDaEIsVUFBSSxJQUFJLElBQUk7QUFBQSxJQUNkO0FBQUEsRUFDRjtBQUNBLE1BQUksT0FBTyxhQUFhLEtBQU0sUUFBTztBQUNyQyxNQUFJLE9BQU8sSUFBSSxTQUFTLFNBQVUsS0FBSSxPQUFPLENBQUMsSUFBSSxNQUFNLE1BQU07QUFDOUQsTUFBSSxNQUFNLFFBQVEsSUFBSSxJQUFJLEtBQUssQ0FBQyxJQUFJLEtBQUssU0FBUyxJQUFJLEVBQUcsS0FBSSxPQUFPLENBQUMsR0FBSSxJQUFJLE1BQWtCLElBQUk7QUFDbkcsU0FBTztBQUNUO0FBRUEsSUFBTSxhQUFhLG9CQUFJLElBQUksQ0FBQyxTQUFTLHdCQUF3QixPQUFPLFlBQVksTUFBTSxRQUFRLFFBQVEsZUFBZSxDQUFDO0FBQ3RILElBQU0saUJBQWlCLG9CQUFJLElBQUksQ0FBQyxTQUFTLFNBQVMsU0FBUyxhQUFhLENBQUM7QUFDekUsSUFBTSxnQkFBZ0Isb0JBQUksSUFBSSxDQUFDLGNBQWMscUJBQXFCLFNBQVMsa0JBQWtCLENBQUM7IiwKICAibmFtZXMiOiBbXQp9Cg==
