import {
  typeOf
} from "./chunk-XGDOGID3.js";

// src/core/documentation/sample/infer.ts
var deepest = 12;
function inferFields(samples, settings = {}, depth = 0) {
  const objects = samples.flatMap((one) => Array.isArray(one) ? one : [one]).filter(isObject);
  if (objects.length === 0 || depth > deepest) return [];
  const names = [...new Set(objects.flatMap((one) => Object.keys(one)))];
  return names.map((name) => {
    const values = objects.filter((one) => Object.hasOwn(one, name)).map((one) => one[name]);
    const known = values.filter((one) => one !== null);
    const fields = inferFields(known, settings, depth + 1);
    return {
      name,
      type: inferType(values),
      required: values.length === objects.length,
      ...known[0] !== void 0 && !isStructure(known[0]) && { example: known[0] },
      ...fields.length > 0 && { fields },
      ...settings
    };
  });
}
var isObject = (value) => typeof value === "object" && value !== null && !Array.isArray(value);
var isStructure = (value) => typeof value === "object" && value !== null;
function inferType(values) {
  const words = new Set(values.map(typeWord));
  if (words.has("integer") && words.has("number")) words.delete("integer");
  if (words.has("array") && [...words].some((word) => word.startsWith("array of"))) words.delete("array");
  for (const word of [...words]) if (/^string \(/.test(word) && words.has("string")) words.delete(word);
  const last = words.delete("null") ? ["null"] : [];
  return [...words, ...last].join(" or ") || "any";
}
function typeWord(value) {
  const type = typeOf(value);
  if (type === "array") {
    const items = value;
    return items.length === 0 ? "array" : `array of ${inferType(items)}`;
  }
  if (type !== "string") return type;
  if (/^\d{4}-\d\d-\d\dT\d\d:\d\d(?::\d\d(?:\.\d+)?)?(?:Z|[-+]\d\d:?\d\d)$/.test(value))
    return "string (date-time)";
  return /^\d{4}-\d\d-\d\d$/.test(value) ? "string (date)" : "string";
}

export {
  inferFields
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi9zYW1wbGUvaW5mZXIudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBGaWVsZHMgaW5mZXJyZWQgZnJvbSBzYW1wbGVzIG9mIEpTT046IHdoYXQgdGhleSBoYXZlIGluIGNvbW1vbiwgYW5kIHdoYXQgb25seSBzb21lIG9mIHRoZW0gaGF2ZS4gKi9cbmltcG9ydCB7IHR5cGVPZiwgdHlwZSBWYWx1ZSB9IGZyb20gJy4uLy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHR5cGUgeyBDZXJ0YWludHksIEZpZWxkIH0gZnJvbSAnLi4vbW9kZWwuanMnO1xuXG5jb25zdCBkZWVwZXN0ID0gMTI7XG5cbmV4cG9ydCBpbnRlcmZhY2UgSW5mZXJTZXR0aW5ncyB7XG4gIHJlYWRvbmx5IGNlcnRhaW50eT86IENlcnRhaW50eTtcbiAgcmVhZG9ubHkgYXQ/OiBzdHJpbmc7XG59XG5cbi8qKiBAcGFyYW0gc2FtcGxlcyB2YWx1ZXMgb2YgdGhlIHNhbWUgdGhpbmc7IG9mIGxpc3RzLCB0aGVpciBpdGVtcyAqL1xuZXhwb3J0IGZ1bmN0aW9uIGluZmVyRmllbGRzKHNhbXBsZXM6IHJlYWRvbmx5IHVua25vd25bXSwgc2V0dGluZ3M6IEluZmVyU2V0dGluZ3MgPSB7fSwgZGVwdGggPSAwKTogcmVhZG9ubHkgRmllbGRbXSB7XG4gIGNvbnN0IG9iamVjdHMgPSBzYW1wbGVzLmZsYXRNYXAoKG9uZSkgPT4gKEFycmF5LmlzQXJyYXkob25lKSA/IG9uZSA6IFtvbmVdKSkuZmlsdGVyKGlzT2JqZWN0KTtcbiAgaWYgKG9iamVjdHMubGVuZ3RoID09PSAwIHx8IGRlcHRoID4gZGVlcGVzdCkgcmV0dXJuIFtdO1xuICBjb25zdCBuYW1lcyA9IFsuLi5uZXcgU2V0KG9iamVjdHMuZmxhdE1hcCgob25lKSA9PiBPYmplY3Qua2V5cyhvbmUpKSldO1xuICByZXR1cm4gbmFtZXMubWFwKChuYW1lKSA9PiB7XG4gICAgY29uc3QgdmFsdWVzID0gb2JqZWN0cy5maWx0ZXIoKG9uZSkgPT4gT2JqZWN0Lmhhc093bihvbmUsIG5hbWUpKS5tYXAoKG9uZSkgPT4gb25lW25hbWVdKTtcbiAgICBjb25zdCBrbm93biA9IHZhbHVlcy5maWx0ZXIoKG9uZSkgPT4gb25lICE9PSBudWxsKTtcbiAgICBjb25zdCBmaWVsZHMgPSBpbmZlckZpZWxkcyhrbm93biwgc2V0dGluZ3MsIGRlcHRoICsgMSk7XG4gICAgcmV0dXJuIHtcbiAgICAgIG5hbWUsXG4gICAgICB0eXBlOiBpbmZlclR5cGUodmFsdWVzKSxcbiAgICAgIHJlcXVpcmVkOiB2YWx1ZXMubGVuZ3RoID09PSBvYmplY3RzLmxlbmd0aCxcbiAgICAgIC4uLihrbm93blswXSAhPT0gdW5kZWZpbmVkICYmICFpc1N0cnVjdHVyZShrbm93blswXSkgJiYgeyBleGFtcGxlOiBrbm93blswXSBhcyBWYWx1ZSB9KSxcbiAgICAgIC4uLihmaWVsZHMubGVuZ3RoID4gMCAmJiB7IGZpZWxkcyB9KSxcbiAgICAgIC4uLnNldHRpbmdzLFxuICAgIH07XG4gIH0pO1xufVxuXG5jb25zdCBpc09iamVjdCA9ICh2YWx1ZTogdW5rbm93bik6IHZhbHVlIGlzIFJlY29yZDxzdHJpbmcsIHVua25vd24+ID0+XG4gIHR5cGVvZiB2YWx1ZSA9PT0gJ29iamVjdCcgJiYgdmFsdWUgIT09IG51bGwgJiYgIUFycmF5LmlzQXJyYXkodmFsdWUpO1xuXG5jb25zdCBpc1N0cnVjdHVyZSA9ICh2YWx1ZTogdW5rbm93bik6IGJvb2xlYW4gPT4gdHlwZW9mIHZhbHVlID09PSAnb2JqZWN0JyAmJiB2YWx1ZSAhPT0gbnVsbDtcblxuLyoqIGBpbnRlZ2VyYCwgYHN0cmluZyAoZGF0ZS10aW1lKWAsIGBhcnJheSBvZiBudW1iZXJgLCBgc3RyaW5nIG9yIG51bGxgLiAqL1xuZnVuY3Rpb24gaW5mZXJUeXBlKHZhbHVlczogcmVhZG9ubHkgdW5rbm93bltdKTogc3RyaW5nIHtcbiAgY29uc3Qgd29yZHMgPSBuZXcgU2V0KHZhbHVlcy5tYXAodHlwZVdvcmQpKTtcbiAgaWYgKHdvcmRzLmhhcygnaW50ZWdlcicpICYmIHdvcmRzLmhhcygnbnVtYmVyJykpIHdvcmRzLmRlbGV0ZSgnaW50ZWdlcicpO1xuICAvLyBBIGxpc3Qgb2Ygd2hpY2ggb25lIHNhbXBsZSBpcyBlbXB0eSBzYXlzIHdoYXQgdGhlIG90aGVycyBob2xkLlxuICBpZiAod29yZHMuaGFzKCdhcnJheScpICYmIFsuLi53b3Jkc10uc29tZSgod29yZCkgPT4gd29yZC5zdGFydHNXaXRoKCdhcnJheSBvZicpKSkgd29yZHMuZGVsZXRlKCdhcnJheScpO1xuICBmb3IgKGNvbnN0IHdvcmQgb2YgWy4uLndvcmRzXSkgaWYgKC9ec3RyaW5nIFxcKC8udGVzdCh3b3JkKSAmJiB3b3Jkcy5oYXMoJ3N0cmluZycpKSB3b3Jkcy5kZWxldGUod29yZCk7XG4gIGNvbnN0IGxhc3QgPSB3b3Jkcy5kZWxldGUoJ251bGwnKSA/IFsnbnVsbCddIDogW107XG4gIHJldHVybiBbLi4ud29yZHMsIC4uLmxhc3RdLmpvaW4oJyBvciAnKSB8fCAnYW55Jztcbn1cblxuZnVuY3Rpb24gdHlwZVdvcmQodmFsdWU6IHVua25vd24pOiBzdHJpbmcge1xuICBjb25zdCB0eXBlID0gdHlwZU9mKHZhbHVlKTtcbiAgaWYgKHR5cGUgPT09ICdhcnJheScpIHtcbiAgICBjb25zdCBpdGVtcyA9IHZhbHVlIGFzIHJlYWRvbmx5IHVua25vd25bXTtcbiAgICByZXR1cm4gaXRlbXMubGVuZ3RoID09PSAwID8gJ2FycmF5JyA6IGBhcnJheSBvZiAke2luZmVyVHlwZShpdGVtcyl9YDtcbiAgfVxuICBpZiAodHlwZSAhPT0gJ3N0cmluZycpIHJldHVybiB0eXBlO1xuICBpZiAoL15cXGR7NH0tXFxkXFxkLVxcZFxcZFRcXGRcXGQ6XFxkXFxkKD86OlxcZFxcZCg/OlxcLlxcZCspPyk/KD86WnxbLStdXFxkXFxkOj9cXGRcXGQpJC8udGVzdCh2YWx1ZSBhcyBzdHJpbmcpKVxuICAgIHJldHVybiAnc3RyaW5nIChkYXRlLXRpbWUpJztcbiAgcmV0dXJuIC9eXFxkezR9LVxcZFxcZC1cXGRcXGQkLy50ZXN0KHZhbHVlIGFzIHN0cmluZykgPyAnc3RyaW5nIChkYXRlKScgOiAnc3RyaW5nJztcbn1cbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7O0FBSUEsSUFBTSxVQUFVO0FBUVQsU0FBUyxZQUFZLFNBQTZCLFdBQTBCLENBQUMsR0FBRyxRQUFRLEdBQXFCO0FBQ2xILFFBQU0sVUFBVSxRQUFRLFFBQVEsQ0FBQyxRQUFTLE1BQU0sUUFBUSxHQUFHLElBQUksTUFBTSxDQUFDLEdBQUcsQ0FBRSxFQUFFLE9BQU8sUUFBUTtBQUM1RixNQUFJLFFBQVEsV0FBVyxLQUFLLFFBQVEsUUFBUyxRQUFPLENBQUM7QUFDckQsUUFBTSxRQUFRLENBQUMsR0FBRyxJQUFJLElBQUksUUFBUSxRQUFRLENBQUMsUUFBUSxPQUFPLEtBQUssR0FBRyxDQUFDLENBQUMsQ0FBQztBQUNyRSxTQUFPLE1BQU0sSUFBSSxDQUFDLFNBQVM7QUFDekIsVUFBTSxTQUFTLFFBQVEsT0FBTyxDQUFDLFFBQVEsT0FBTyxPQUFPLEtBQUssSUFBSSxDQUFDLEVBQUUsSUFBSSxDQUFDLFFBQVEsSUFBSSxJQUFJLENBQUM7QUFDdkYsVUFBTSxRQUFRLE9BQU8sT0FBTyxDQUFDLFFBQVEsUUFBUSxJQUFJO0FBQ2pELFVBQU0sU0FBUyxZQUFZLE9BQU8sVUFBVSxRQUFRLENBQUM7QUFDckQsV0FBTztBQUFBLE1BQ0w7QUFBQSxNQUNBLE1BQU0sVUFBVSxNQUFNO0FBQUEsTUFDdEIsVUFBVSxPQUFPLFdBQVcsUUFBUTtBQUFBLE1BQ3BDLEdBQUksTUFBTSxDQUFDLE1BQU0sVUFBYSxDQUFDLFlBQVksTUFBTSxDQUFDLENBQUMsS0FBSyxFQUFFLFNBQVMsTUFBTSxDQUFDLEVBQVc7QUFBQSxNQUNyRixHQUFJLE9BQU8sU0FBUyxLQUFLLEVBQUUsT0FBTztBQUFBLE1BQ2xDLEdBQUc7QUFBQSxJQUNMO0FBQUEsRUFDRixDQUFDO0FBQ0g7QUFFQSxJQUFNLFdBQVcsQ0FBQyxVQUNoQixPQUFPLFVBQVUsWUFBWSxVQUFVLFFBQVEsQ0FBQyxNQUFNLFFBQVEsS0FBSztBQUVyRSxJQUFNLGNBQWMsQ0FBQyxVQUE0QixPQUFPLFVBQVUsWUFBWSxVQUFVO0FBR3hGLFNBQVMsVUFBVSxRQUFvQztBQUNyRCxRQUFNLFFBQVEsSUFBSSxJQUFJLE9BQU8sSUFBSSxRQUFRLENBQUM7QUFDMUMsTUFBSSxNQUFNLElBQUksU0FBUyxLQUFLLE1BQU0sSUFBSSxRQUFRLEVBQUcsT0FBTSxPQUFPLFNBQVM7QUFFdkUsTUFBSSxNQUFNLElBQUksT0FBTyxLQUFLLENBQUMsR0FBRyxLQUFLLEVBQUUsS0FBSyxDQUFDLFNBQVMsS0FBSyxXQUFXLFVBQVUsQ0FBQyxFQUFHLE9BQU0sT0FBTyxPQUFPO0FBQ3RHLGFBQVcsUUFBUSxDQUFDLEdBQUcsS0FBSyxFQUFHLEtBQUksYUFBYSxLQUFLLElBQUksS0FBSyxNQUFNLElBQUksUUFBUSxFQUFHLE9BQU0sT0FBTyxJQUFJO0FBQ3BHLFFBQU0sT0FBTyxNQUFNLE9BQU8sTUFBTSxJQUFJLENBQUMsTUFBTSxJQUFJLENBQUM7QUFDaEQsU0FBTyxDQUFDLEdBQUcsT0FBTyxHQUFHLElBQUksRUFBRSxLQUFLLE1BQU0sS0FBSztBQUM3QztBQUVBLFNBQVMsU0FBUyxPQUF3QjtBQUN4QyxRQUFNLE9BQU8sT0FBTyxLQUFLO0FBQ3pCLE1BQUksU0FBUyxTQUFTO0FBQ3BCLFVBQU0sUUFBUTtBQUNkLFdBQU8sTUFBTSxXQUFXLElBQUksVUFBVSxZQUFZLFVBQVUsS0FBSyxDQUFDO0FBQUEsRUFDcEU7QUFDQSxNQUFJLFNBQVMsU0FBVSxRQUFPO0FBQzlCLE1BQUksc0VBQXNFLEtBQUssS0FBZTtBQUM1RixXQUFPO0FBQ1QsU0FBTyxvQkFBb0IsS0FBSyxLQUFlLElBQUksa0JBQWtCO0FBQ3ZFOyIsCiAgIm5hbWVzIjogW10KfQo=
