import {
  parseDuration,
  parseSize
} from "./chunk-IQWA53IU.js";
import {
  equalValues
} from "./chunk-WDD3S5O6.js";
import {
  textOf
} from "./chunk-ZC7SUIQQ.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";
import {
  plain,
  typeOf
} from "./chunk-XGDOGID3.js";

// src/core/matcher/reading.ts
function shapeProblem(matcher, wanted, found) {
  return new Problem("matcher-shape", {
    what: `${matcher} takes ${wanted}, not ${typeOf(found)} ${shortText(found)}`,
    data: { matcher }
  });
}
function shortText(value) {
  if (value === void 0) return "nothing";
  const text = typeof value === "string" ? JSON.stringify(value) : textOf(value);
  return text.length > 120 ? `${text.slice(0, 117)}\u2026` : text;
}
function expectedNumber(matcher, expected, { unit }) {
  const value = plain(expected);
  if (unit === "duration" || unit === "size") {
    const read = typeof value === "string" ? unit === "duration" ? parseDuration(value) : parseSize(value) : void 0;
    if (read !== void 0) return read;
    throw shapeProblem(
      matcher,
      unit === "duration" ? "a duration such as 500ms or 2s" : "a size such as 200B or 64kB",
      expected
    );
  }
  const number = typeof value === "string" && value.trim() !== "" ? Number(value) : value;
  if (typeof number === "number" && !Number.isNaN(number)) return number;
  throw shapeProblem(matcher, "a number", expected);
}
function foundNumber(found, { strict }) {
  const value = plain(found);
  if (typeof value === "number") return value;
  if (strict || typeof value !== "string" || value.trim() === "") return void 0;
  const number = Number(value);
  return Number.isNaN(number) ? void 0 : number;
}
function equality(matcher, expected, subject) {
  const { unit, strict } = subject;
  if (unit === "status") {
    const hundreds = typeof expected === "string" ? /^([1-5])xx$/i.exec(expected)?.[1] : void 0;
    if (hundreds !== void 0) return (found) => Math.floor(Number(plain(found)) / 100) === Number(hundreds);
    const status = Number(plain(expected));
    if (!Number.isInteger(status)) throw shapeProblem(matcher, "a status such as 201 or a class such as 2xx", expected);
    return (found) => plain(found) === status;
  }
  if (unit !== void 0) {
    const number2 = expectedNumber(matcher, expected, subject);
    return (found) => plain(found) === number2;
  }
  if (strict) return (found) => equalValues(found, expected);
  const number = typeof plain(expected) === "number" ? plain(expected) : void 0;
  const text = typeof expected === "object" && plain(expected) === expected ? void 0 : textOf(expected);
  return (found) => {
    if (equalValues(found, expected)) return true;
    if (typeof found !== "string") return false;
    return found === text || number !== void 0 && foundNumber(found, subject) === number;
  };
}

export {
  shapeProblem,
  shortText,
  expectedNumber,
  foundNumber,
  equality
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvbWF0Y2hlci9yZWFkaW5nLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogUmVhZGluZyBleHBlY3RlZCBhbmQgZm91bmQgdmFsdWVzIGFzIHdoYXQgdGhlIHBsYWNlIG1ha2VzIG9mIHRoZW0uICovXG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IGVxdWFsVmFsdWVzIH0gZnJvbSAnLi4vdmFsdWUvZXF1YWwuanMnO1xuaW1wb3J0IHsgcGFyc2VEdXJhdGlvbiwgcGFyc2VTaXplIH0gZnJvbSAnLi4vdmFsdWUvbWVhc3VyZXMuanMnO1xuaW1wb3J0IHsgdGV4dE9mIH0gZnJvbSAnLi4vdmFsdWUvdGV4dC5qcyc7XG5pbXBvcnQgeyBwbGFpbiwgdHlwZU9mLCB0eXBlIFZhbHVlIH0gZnJvbSAnLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgdHlwZSB7IFN1YmplY3QgfSBmcm9tICcuL21hdGNoZXIuanMnO1xuXG5leHBvcnQgZnVuY3Rpb24gc2hhcGVQcm9ibGVtKG1hdGNoZXI6IHN0cmluZywgd2FudGVkOiBzdHJpbmcsIGZvdW5kOiBWYWx1ZSk6IFByb2JsZW0ge1xuICByZXR1cm4gbmV3IFByb2JsZW0oJ21hdGNoZXItc2hhcGUnLCB7XG4gICAgd2hhdDogYCR7bWF0Y2hlcn0gdGFrZXMgJHt3YW50ZWR9LCBub3QgJHt0eXBlT2YoZm91bmQpfSAke3Nob3J0VGV4dChmb3VuZCl9YCxcbiAgICBkYXRhOiB7IG1hdGNoZXIgfSxcbiAgfSk7XG59XG5cbi8qKiBBIHZhbHVlIGluIGF0IG1vc3QgMTIwIGNoYXJhY3RlcnMsIGZvciBtZXNzYWdlcy4gKi9cbmV4cG9ydCBmdW5jdGlvbiBzaG9ydFRleHQodmFsdWU6IFZhbHVlIHwgdW5kZWZpbmVkKTogc3RyaW5nIHtcbiAgaWYgKHZhbHVlID09PSB1bmRlZmluZWQpIHJldHVybiAnbm90aGluZyc7XG4gIGNvbnN0IHRleHQgPSB0eXBlb2YgdmFsdWUgPT09ICdzdHJpbmcnID8gSlNPTi5zdHJpbmdpZnkodmFsdWUpIDogdGV4dE9mKHZhbHVlKTtcbiAgcmV0dXJuIHRleHQubGVuZ3RoID4gMTIwID8gYCR7dGV4dC5zbGljZSgwLCAxMTcpfVx1MjAyNmAgOiB0ZXh0O1xufVxuXG4vKiogQW4gZXhwZWN0ZWQgbnVtYmVyOiB3aXRoIGEgdW5pdCBhdCBhIGR1cmF0aW9uIG9yIGEgc2l6ZSwgYXMgaXQgaXMgZWxzZXdoZXJlLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGV4cGVjdGVkTnVtYmVyKG1hdGNoZXI6IHN0cmluZywgZXhwZWN0ZWQ6IFZhbHVlLCB7IHVuaXQgfTogU3ViamVjdCk6IG51bWJlciB7XG4gIGNvbnN0IHZhbHVlID0gcGxhaW4oZXhwZWN0ZWQpO1xuICBpZiAodW5pdCA9PT0gJ2R1cmF0aW9uJyB8fCB1bml0ID09PSAnc2l6ZScpIHtcbiAgICBjb25zdCByZWFkID1cbiAgICAgIHR5cGVvZiB2YWx1ZSA9PT0gJ3N0cmluZycgPyAodW5pdCA9PT0gJ2R1cmF0aW9uJyA/IHBhcnNlRHVyYXRpb24odmFsdWUpIDogcGFyc2VTaXplKHZhbHVlKSkgOiB1bmRlZmluZWQ7XG4gICAgaWYgKHJlYWQgIT09IHVuZGVmaW5lZCkgcmV0dXJuIHJlYWQ7XG4gICAgdGhyb3cgc2hhcGVQcm9ibGVtKFxuICAgICAgbWF0Y2hlcixcbiAgICAgIHVuaXQgPT09ICdkdXJhdGlvbicgPyAnYSBkdXJhdGlvbiBzdWNoIGFzIDUwMG1zIG9yIDJzJyA6ICdhIHNpemUgc3VjaCBhcyAyMDBCIG9yIDY0a0InLFxuICAgICAgZXhwZWN0ZWQsXG4gICAgKTtcbiAgfVxuICBjb25zdCBudW1iZXIgPSB0eXBlb2YgdmFsdWUgPT09ICdzdHJpbmcnICYmIHZhbHVlLnRyaW0oKSAhPT0gJycgPyBOdW1iZXIodmFsdWUpIDogdmFsdWU7XG4gIGlmICh0eXBlb2YgbnVtYmVyID09PSAnbnVtYmVyJyAmJiAhTnVtYmVyLmlzTmFOKG51bWJlcikpIHJldHVybiBudW1iZXI7XG4gIHRocm93IHNoYXBlUHJvYmxlbShtYXRjaGVyLCAnYSBudW1iZXInLCBleHBlY3RlZCk7XG59XG5cbi8qKiBUaGUgbnVtYmVyIHRoYXQgd2FzIGZvdW5kLCB1bmRlZmluZWQgd2hlcmUgaXQgaXMgbm9uZS4gKi9cbmV4cG9ydCBmdW5jdGlvbiBmb3VuZE51bWJlcihmb3VuZDogVmFsdWUgfCB1bmRlZmluZWQsIHsgc3RyaWN0IH06IFN1YmplY3QpOiBudW1iZXIgfCB1bmRlZmluZWQge1xuICBjb25zdCB2YWx1ZSA9IHBsYWluKGZvdW5kKTtcbiAgaWYgKHR5cGVvZiB2YWx1ZSA9PT0gJ251bWJlcicpIHJldHVybiB2YWx1ZTtcbiAgaWYgKHN0cmljdCB8fCB0eXBlb2YgdmFsdWUgIT09ICdzdHJpbmcnIHx8IHZhbHVlLnRyaW0oKSA9PT0gJycpIHJldHVybiB1bmRlZmluZWQ7XG4gIGNvbnN0IG51bWJlciA9IE51bWJlcih2YWx1ZSk7XG4gIHJldHVybiBOdW1iZXIuaXNOYU4obnVtYmVyKSA/IHVuZGVmaW5lZCA6IG51bWJlcjtcbn1cblxuLyoqIEVxdWFsaXR5IGFzIHRoZSBwbGFjZSB1bmRlcnN0YW5kcyBpdDogYDJ4eGAgYXQgYSBzdGF0dXMsIHVuaXRzIGF0IG1lYXN1cmVzLCBudW1iZXJzIGF0IHRleHQgcGxhY2VzLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGVxdWFsaXR5KG1hdGNoZXI6IHN0cmluZywgZXhwZWN0ZWQ6IFZhbHVlLCBzdWJqZWN0OiBTdWJqZWN0KTogKGZvdW5kOiBWYWx1ZSB8IHVuZGVmaW5lZCkgPT4gYm9vbGVhbiB7XG4gIGNvbnN0IHsgdW5pdCwgc3RyaWN0IH0gPSBzdWJqZWN0O1xuICBpZiAodW5pdCA9PT0gJ3N0YXR1cycpIHtcbiAgICBjb25zdCBodW5kcmVkcyA9IHR5cGVvZiBleHBlY3RlZCA9PT0gJ3N0cmluZycgPyAvXihbMS01XSl4eCQvaS5leGVjKGV4cGVjdGVkKT8uWzFdIDogdW5kZWZpbmVkO1xuICAgIGlmIChodW5kcmVkcyAhPT0gdW5kZWZpbmVkKSByZXR1cm4gKGZvdW5kKSA9PiBNYXRoLmZsb29yKE51bWJlcihwbGFpbihmb3VuZCkpIC8gMTAwKSA9PT0gTnVtYmVyKGh1bmRyZWRzKTtcbiAgICBjb25zdCBzdGF0dXMgPSBOdW1iZXIocGxhaW4oZXhwZWN0ZWQpKTtcbiAgICBpZiAoIU51bWJlci5pc0ludGVnZXIoc3RhdHVzKSkgdGhyb3cgc2hhcGVQcm9ibGVtKG1hdGNoZXIsICdhIHN0YXR1cyBzdWNoIGFzIDIwMSBvciBhIGNsYXNzIHN1Y2ggYXMgMnh4JywgZXhwZWN0ZWQpO1xuICAgIHJldHVybiAoZm91bmQpID0+IHBsYWluKGZvdW5kKSA9PT0gc3RhdHVzO1xuICB9XG4gIGlmICh1bml0ICE9PSB1bmRlZmluZWQpIHtcbiAgICBjb25zdCBudW1iZXIgPSBleHBlY3RlZE51bWJlcihtYXRjaGVyLCBleHBlY3RlZCwgc3ViamVjdCk7XG4gICAgcmV0dXJuIChmb3VuZCkgPT4gcGxhaW4oZm91bmQpID09PSBudW1iZXI7XG4gIH1cbiAgaWYgKHN0cmljdCkgcmV0dXJuIChmb3VuZCkgPT4gZXF1YWxWYWx1ZXMoZm91bmQsIGV4cGVjdGVkKTtcbiAgY29uc3QgbnVtYmVyID0gdHlwZW9mIHBsYWluKGV4cGVjdGVkKSA9PT0gJ251bWJlcicgPyAocGxhaW4oZXhwZWN0ZWQpIGFzIG51bWJlcikgOiB1bmRlZmluZWQ7XG4gIGNvbnN0IHRleHQgPSB0eXBlb2YgZXhwZWN0ZWQgPT09ICdvYmplY3QnICYmIHBsYWluKGV4cGVjdGVkKSA9PT0gZXhwZWN0ZWQgPyB1bmRlZmluZWQgOiB0ZXh0T2YoZXhwZWN0ZWQpO1xuICByZXR1cm4gKGZvdW5kKSA9PiB7XG4gICAgaWYgKGVxdWFsVmFsdWVzKGZvdW5kLCBleHBlY3RlZCkpIHJldHVybiB0cnVlO1xuICAgIGlmICh0eXBlb2YgZm91bmQgIT09ICdzdHJpbmcnKSByZXR1cm4gZmFsc2U7XG4gICAgcmV0dXJuIGZvdW5kID09PSB0ZXh0IHx8IChudW1iZXIgIT09IHVuZGVmaW5lZCAmJiBmb3VuZE51bWJlcihmb3VuZCwgc3ViamVjdCkgPT09IG51bWJlcik7XG4gIH07XG59XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBUU8sU0FBUyxhQUFhLFNBQWlCLFFBQWdCLE9BQXVCO0FBQ25GLFNBQU8sSUFBSSxRQUFRLGlCQUFpQjtBQUFBLElBQ2xDLE1BQU0sR0FBRyxPQUFPLFVBQVUsTUFBTSxTQUFTLE9BQU8sS0FBSyxDQUFDLElBQUksVUFBVSxLQUFLLENBQUM7QUFBQSxJQUMxRSxNQUFNLEVBQUUsUUFBUTtBQUFBLEVBQ2xCLENBQUM7QUFDSDtBQUdPLFNBQVMsVUFBVSxPQUFrQztBQUMxRCxNQUFJLFVBQVUsT0FBVyxRQUFPO0FBQ2hDLFFBQU0sT0FBTyxPQUFPLFVBQVUsV0FBVyxLQUFLLFVBQVUsS0FBSyxJQUFJLE9BQU8sS0FBSztBQUM3RSxTQUFPLEtBQUssU0FBUyxNQUFNLEdBQUcsS0FBSyxNQUFNLEdBQUcsR0FBRyxDQUFDLFdBQU07QUFDeEQ7QUFHTyxTQUFTLGVBQWUsU0FBaUIsVUFBaUIsRUFBRSxLQUFLLEdBQW9CO0FBQzFGLFFBQU0sUUFBUSxNQUFNLFFBQVE7QUFDNUIsTUFBSSxTQUFTLGNBQWMsU0FBUyxRQUFRO0FBQzFDLFVBQU0sT0FDSixPQUFPLFVBQVUsV0FBWSxTQUFTLGFBQWEsY0FBYyxLQUFLLElBQUksVUFBVSxLQUFLLElBQUs7QUFDaEcsUUFBSSxTQUFTLE9BQVcsUUFBTztBQUMvQixVQUFNO0FBQUEsTUFDSjtBQUFBLE1BQ0EsU0FBUyxhQUFhLG1DQUFtQztBQUFBLE1BQ3pEO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFDQSxRQUFNLFNBQVMsT0FBTyxVQUFVLFlBQVksTUFBTSxLQUFLLE1BQU0sS0FBSyxPQUFPLEtBQUssSUFBSTtBQUNsRixNQUFJLE9BQU8sV0FBVyxZQUFZLENBQUMsT0FBTyxNQUFNLE1BQU0sRUFBRyxRQUFPO0FBQ2hFLFFBQU0sYUFBYSxTQUFTLFlBQVksUUFBUTtBQUNsRDtBQUdPLFNBQVMsWUFBWSxPQUEwQixFQUFFLE9BQU8sR0FBZ0M7QUFDN0YsUUFBTSxRQUFRLE1BQU0sS0FBSztBQUN6QixNQUFJLE9BQU8sVUFBVSxTQUFVLFFBQU87QUFDdEMsTUFBSSxVQUFVLE9BQU8sVUFBVSxZQUFZLE1BQU0sS0FBSyxNQUFNLEdBQUksUUFBTztBQUN2RSxRQUFNLFNBQVMsT0FBTyxLQUFLO0FBQzNCLFNBQU8sT0FBTyxNQUFNLE1BQU0sSUFBSSxTQUFZO0FBQzVDO0FBR08sU0FBUyxTQUFTLFNBQWlCLFVBQWlCLFNBQXlEO0FBQ2xILFFBQU0sRUFBRSxNQUFNLE9BQU8sSUFBSTtBQUN6QixNQUFJLFNBQVMsVUFBVTtBQUNyQixVQUFNLFdBQVcsT0FBTyxhQUFhLFdBQVcsZUFBZSxLQUFLLFFBQVEsSUFBSSxDQUFDLElBQUk7QUFDckYsUUFBSSxhQUFhLE9BQVcsUUFBTyxDQUFDLFVBQVUsS0FBSyxNQUFNLE9BQU8sTUFBTSxLQUFLLENBQUMsSUFBSSxHQUFHLE1BQU0sT0FBTyxRQUFRO0FBQ3hHLFVBQU0sU0FBUyxPQUFPLE1BQU0sUUFBUSxDQUFDO0FBQ3JDLFFBQUksQ0FBQyxPQUFPLFVBQVUsTUFBTSxFQUFHLE9BQU0sYUFBYSxTQUFTLCtDQUErQyxRQUFRO0FBQ2xILFdBQU8sQ0FBQyxVQUFVLE1BQU0sS0FBSyxNQUFNO0FBQUEsRUFDckM7QUFDQSxNQUFJLFNBQVMsUUFBVztBQUN0QixVQUFNQSxVQUFTLGVBQWUsU0FBUyxVQUFVLE9BQU87QUFDeEQsV0FBTyxDQUFDLFVBQVUsTUFBTSxLQUFLLE1BQU1BO0FBQUEsRUFDckM7QUFDQSxNQUFJLE9BQVEsUUFBTyxDQUFDLFVBQVUsWUFBWSxPQUFPLFFBQVE7QUFDekQsUUFBTSxTQUFTLE9BQU8sTUFBTSxRQUFRLE1BQU0sV0FBWSxNQUFNLFFBQVEsSUFBZTtBQUNuRixRQUFNLE9BQU8sT0FBTyxhQUFhLFlBQVksTUFBTSxRQUFRLE1BQU0sV0FBVyxTQUFZLE9BQU8sUUFBUTtBQUN2RyxTQUFPLENBQUMsVUFBVTtBQUNoQixRQUFJLFlBQVksT0FBTyxRQUFRLEVBQUcsUUFBTztBQUN6QyxRQUFJLE9BQU8sVUFBVSxTQUFVLFFBQU87QUFDdEMsV0FBTyxVQUFVLFFBQVMsV0FBVyxVQUFhLFlBQVksT0FBTyxPQUFPLE1BQU07QUFBQSxFQUNwRjtBQUNGOyIsCiAgIm5hbWVzIjogWyJudW1iZXIiXQp9Cg==
