// src/core/place/json-path/regexp.ts
var engine;
async function loadRegexp() {
  engine ??= (await import("re2js")).RE2JS;
}
var cache = /* @__PURE__ */ new Map();
function compiled(pattern) {
  if (cache.has(pattern)) return cache.get(pattern);
  let made;
  try {
    made = engine.compile(withPlainDot(pattern));
  } catch {
    made = void 0;
  }
  if (cache.size > 500) cache.clear();
  cache.set(pattern, made);
  return made;
}
function withPlainDot(pattern) {
  let inClass = false;
  let out = "";
  for (let at = 0; at < pattern.length; at += 1) {
    const char = pattern[at];
    if (char === "\\") {
      out += char + (pattern[at + 1] ?? "");
      at += 1;
    } else {
      if (char === "[") inClass = true;
      if (char === "]") inClass = false;
      out += char === "." && !inClass ? "[^\\n\\r]" : char;
    }
  }
  return out;
}
var isPattern = (pattern) => compiled(pattern) !== void 0;
var matchesWhole = (pattern, text) => compiled(pattern)?.matches(text) ?? false;
var containsMatch = (pattern, text) => compiled(pattern)?.matcher(text).find() ?? false;

export {
  loadRegexp,
  isPattern,
  matchesWhole,
  containsMatch
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvcGxhY2UvanNvbi1wYXRoL3JlZ2V4cC50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqXG4gKiBJLVJlZ2V4cCAoUkZDIDk0ODUpIG9uIGEgbGluZWFyLXRpbWUgZW5naW5lLCBzbyB0aGF0IGEgcGF0dGVybiBmcm9tIGEgZmlsZSBvciBhbiBhbnN3ZXIgY2Fubm90XG4gKiBtYWtlIHRoZSBwcm9ncmFtIGhhbmcuXG4gKi9cbmltcG9ydCB0eXBlIHsgUkUySlMgYXMgRW5naW5lIH0gZnJvbSAncmUyanMnO1xuXG5sZXQgZW5naW5lOiB0eXBlb2YgRW5naW5lIHwgdW5kZWZpbmVkO1xuXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gbG9hZFJlZ2V4cCgpOiBQcm9taXNlPHZvaWQ+IHtcbiAgZW5naW5lID8/PSAoYXdhaXQgaW1wb3J0KCdyZTJqcycpKS5SRTJKUztcbn1cblxuY29uc3QgY2FjaGUgPSBuZXcgTWFwPHN0cmluZywgRW5naW5lIHwgdW5kZWZpbmVkPigpO1xuXG5mdW5jdGlvbiBjb21waWxlZChwYXR0ZXJuOiBzdHJpbmcpOiBFbmdpbmUgfCB1bmRlZmluZWQge1xuICBpZiAoY2FjaGUuaGFzKHBhdHRlcm4pKSByZXR1cm4gY2FjaGUuZ2V0KHBhdHRlcm4pO1xuICBsZXQgbWFkZTogRW5naW5lIHwgdW5kZWZpbmVkO1xuICB0cnkge1xuICAgIG1hZGUgPSAoZW5naW5lIGFzIHR5cGVvZiBFbmdpbmUpLmNvbXBpbGUod2l0aFBsYWluRG90KHBhdHRlcm4pKTtcbiAgfSBjYXRjaCB7XG4gICAgbWFkZSA9IHVuZGVmaW5lZDtcbiAgfVxuICBpZiAoY2FjaGUuc2l6ZSA+IDUwMCkgY2FjaGUuY2xlYXIoKTtcbiAgY2FjaGUuc2V0KHBhdHRlcm4sIG1hZGUpO1xuICByZXR1cm4gbWFkZTtcbn1cblxuLyoqIFJGQyA5NDg1IHNlY3Rpb24gNS4zOiB0aGUgZG90IG1hdGNoZXMgYW55dGhpbmcgYnV0IGxpbmUgZmVlZCBhbmQgY2FycmlhZ2UgcmV0dXJuLiAqL1xuZnVuY3Rpb24gd2l0aFBsYWluRG90KHBhdHRlcm46IHN0cmluZyk6IHN0cmluZyB7XG4gIGxldCBpbkNsYXNzID0gZmFsc2U7XG4gIGxldCBvdXQgPSAnJztcbiAgZm9yIChsZXQgYXQgPSAwOyBhdCA8IHBhdHRlcm4ubGVuZ3RoOyBhdCArPSAxKSB7XG4gICAgY29uc3QgY2hhciA9IHBhdHRlcm5bYXRdIGFzIHN0cmluZztcbiAgICBpZiAoY2hhciA9PT0gJ1xcXFwnKSB7XG4gICAgICBvdXQgKz0gY2hhciArIChwYXR0ZXJuW2F0ICsgMV0gPz8gJycpO1xuICAgICAgYXQgKz0gMTtcbiAgICB9IGVsc2Uge1xuICAgICAgaWYgKGNoYXIgPT09ICdbJykgaW5DbGFzcyA9IHRydWU7XG4gICAgICBpZiAoY2hhciA9PT0gJ10nKSBpbkNsYXNzID0gZmFsc2U7XG4gICAgICBvdXQgKz0gY2hhciA9PT0gJy4nICYmICFpbkNsYXNzID8gJ1teXFxcXG5cXFxccl0nIDogY2hhcjtcbiAgICB9XG4gIH1cbiAgcmV0dXJuIG91dDtcbn1cblxuZXhwb3J0IGNvbnN0IGlzUGF0dGVybiA9IChwYXR0ZXJuOiBzdHJpbmcpOiBib29sZWFuID0+IGNvbXBpbGVkKHBhdHRlcm4pICE9PSB1bmRlZmluZWQ7XG5leHBvcnQgY29uc3QgbWF0Y2hlc1dob2xlID0gKHBhdHRlcm46IHN0cmluZywgdGV4dDogc3RyaW5nKTogYm9vbGVhbiA9PiBjb21waWxlZChwYXR0ZXJuKT8ubWF0Y2hlcyh0ZXh0KSA/PyBmYWxzZTtcbmV4cG9ydCBjb25zdCBjb250YWluc01hdGNoID0gKHBhdHRlcm46IHN0cmluZywgdGV4dDogc3RyaW5nKTogYm9vbGVhbiA9PlxuICBjb21waWxlZChwYXR0ZXJuKT8ubWF0Y2hlcih0ZXh0KS5maW5kKCkgPz8gZmFsc2U7XG4iXSwKICAibWFwcGluZ3MiOiAiO0FBTUEsSUFBSTtBQUVKLGVBQXNCLGFBQTRCO0FBQ2hELGNBQVksTUFBTSxPQUFPLE9BQU8sR0FBRztBQUNyQztBQUVBLElBQU0sUUFBUSxvQkFBSSxJQUFnQztBQUVsRCxTQUFTLFNBQVMsU0FBcUM7QUFDckQsTUFBSSxNQUFNLElBQUksT0FBTyxFQUFHLFFBQU8sTUFBTSxJQUFJLE9BQU87QUFDaEQsTUFBSTtBQUNKLE1BQUk7QUFDRixXQUFRLE9BQXlCLFFBQVEsYUFBYSxPQUFPLENBQUM7QUFBQSxFQUNoRSxRQUFRO0FBQ04sV0FBTztBQUFBLEVBQ1Q7QUFDQSxNQUFJLE1BQU0sT0FBTyxJQUFLLE9BQU0sTUFBTTtBQUNsQyxRQUFNLElBQUksU0FBUyxJQUFJO0FBQ3ZCLFNBQU87QUFDVDtBQUdBLFNBQVMsYUFBYSxTQUF5QjtBQUM3QyxNQUFJLFVBQVU7QUFDZCxNQUFJLE1BQU07QUFDVixXQUFTLEtBQUssR0FBRyxLQUFLLFFBQVEsUUFBUSxNQUFNLEdBQUc7QUFDN0MsVUFBTSxPQUFPLFFBQVEsRUFBRTtBQUN2QixRQUFJLFNBQVMsTUFBTTtBQUNqQixhQUFPLFFBQVEsUUFBUSxLQUFLLENBQUMsS0FBSztBQUNsQyxZQUFNO0FBQUEsSUFDUixPQUFPO0FBQ0wsVUFBSSxTQUFTLElBQUssV0FBVTtBQUM1QixVQUFJLFNBQVMsSUFBSyxXQUFVO0FBQzVCLGFBQU8sU0FBUyxPQUFPLENBQUMsVUFBVSxjQUFjO0FBQUEsSUFDbEQ7QUFBQSxFQUNGO0FBQ0EsU0FBTztBQUNUO0FBRU8sSUFBTSxZQUFZLENBQUMsWUFBNkIsU0FBUyxPQUFPLE1BQU07QUFDdEUsSUFBTSxlQUFlLENBQUMsU0FBaUIsU0FBMEIsU0FBUyxPQUFPLEdBQUcsUUFBUSxJQUFJLEtBQUs7QUFDckcsSUFBTSxnQkFBZ0IsQ0FBQyxTQUFpQixTQUM3QyxTQUFTLE9BQU8sR0FBRyxRQUFRLElBQUksRUFBRSxLQUFLLEtBQUs7IiwKICAibmFtZXMiOiBbXQp9Cg==
