import {
  textOf
} from "./chunk-ZC7SUIQQ.js";

// src/core/documentation/limits-text.ts
function limitsText({ allowed, limits = {} }) {
  const out = [];
  if (allowed) out.push(allowed.map(textOf).join(" | "));
  const { "at-least": least, "at-most": most } = limits;
  out.push(...range(least, most, ""));
  if (limits.over !== void 0) out.push(`over ${limits.over}`);
  if (limits.under !== void 0) out.push(`under ${limits.under}`);
  if (limits["multiple-of"] !== void 0) out.push(`a multiple of ${limits["multiple-of"]}`);
  if (limits.matches !== void 0) out.push(`matches ${limits.matches}`);
  out.push(...range(limits["least-length"], limits["most-length"], " characters"));
  out.push(...range(limits["least-items"], limits["most-items"], " items"));
  if (limits["no-item-twice"]) out.push("no item twice");
  return out.join(", ");
}
function range(least, most, unit) {
  if (least !== void 0 && most !== void 0)
    return [least === most ? `exactly ${least}${unit}` : `${least} to ${most}${unit}`];
  if (least !== void 0) return [`at least ${least}${unit}`];
  return most === void 0 ? [] : [`at most ${most}${unit}`];
}

export {
  limitsText
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi9saW1pdHMtdGV4dC50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIExpbWl0cyBhbmQgYWxsb3dlZCB2YWx1ZXMgaW4gd29yZHMuICovXG5pbXBvcnQgeyB0ZXh0T2YgfSBmcm9tICcuLi92YWx1ZS90ZXh0LmpzJztcbmltcG9ydCB0eXBlIHsgRmllbGQgfSBmcm9tICcuL21vZGVsLmpzJztcblxuLyoqIGAxIHRvIDE0YCwgYGF0IGxlYXN0IDFgLCBgbWF0Y2hlcyBeQlswLTldKyRgLCBgZ3JhaW4sIHRpbWJlciBvciBtaXhlZGA7IGVtcHR5IHdoZXJlIG5vdGhpbmcgaXMgc2FpZC4gKi9cbmV4cG9ydCBmdW5jdGlvbiBsaW1pdHNUZXh0KHsgYWxsb3dlZCwgbGltaXRzID0ge30gfTogUGljazxGaWVsZCwgJ2FsbG93ZWQnIHwgJ2xpbWl0cyc+KTogc3RyaW5nIHtcbiAgY29uc3Qgb3V0OiBzdHJpbmdbXSA9IFtdO1xuICBpZiAoYWxsb3dlZCkgb3V0LnB1c2goYWxsb3dlZC5tYXAodGV4dE9mKS5qb2luKCcgfCAnKSk7XG4gIGNvbnN0IHsgJ2F0LWxlYXN0JzogbGVhc3QsICdhdC1tb3N0JzogbW9zdCB9ID0gbGltaXRzO1xuICBvdXQucHVzaCguLi5yYW5nZShsZWFzdCwgbW9zdCwgJycpKTtcbiAgaWYgKGxpbWl0cy5vdmVyICE9PSB1bmRlZmluZWQpIG91dC5wdXNoKGBvdmVyICR7bGltaXRzLm92ZXJ9YCk7XG4gIGlmIChsaW1pdHMudW5kZXIgIT09IHVuZGVmaW5lZCkgb3V0LnB1c2goYHVuZGVyICR7bGltaXRzLnVuZGVyfWApO1xuICBpZiAobGltaXRzWydtdWx0aXBsZS1vZiddICE9PSB1bmRlZmluZWQpIG91dC5wdXNoKGBhIG11bHRpcGxlIG9mICR7bGltaXRzWydtdWx0aXBsZS1vZiddfWApO1xuICBpZiAobGltaXRzLm1hdGNoZXMgIT09IHVuZGVmaW5lZCkgb3V0LnB1c2goYG1hdGNoZXMgJHtsaW1pdHMubWF0Y2hlc31gKTtcbiAgb3V0LnB1c2goLi4ucmFuZ2UobGltaXRzWydsZWFzdC1sZW5ndGgnXSwgbGltaXRzWydtb3N0LWxlbmd0aCddLCAnIGNoYXJhY3RlcnMnKSk7XG4gIG91dC5wdXNoKC4uLnJhbmdlKGxpbWl0c1snbGVhc3QtaXRlbXMnXSwgbGltaXRzWydtb3N0LWl0ZW1zJ10sICcgaXRlbXMnKSk7XG4gIGlmIChsaW1pdHNbJ25vLWl0ZW0tdHdpY2UnXSkgb3V0LnB1c2goJ25vIGl0ZW0gdHdpY2UnKTtcbiAgcmV0dXJuIG91dC5qb2luKCcsICcpO1xufVxuXG5mdW5jdGlvbiByYW5nZShsZWFzdDogbnVtYmVyIHwgdW5kZWZpbmVkLCBtb3N0OiBudW1iZXIgfCB1bmRlZmluZWQsIHVuaXQ6IHN0cmluZyk6IHN0cmluZ1tdIHtcbiAgaWYgKGxlYXN0ICE9PSB1bmRlZmluZWQgJiYgbW9zdCAhPT0gdW5kZWZpbmVkKVxuICAgIHJldHVybiBbbGVhc3QgPT09IG1vc3QgPyBgZXhhY3RseSAke2xlYXN0fSR7dW5pdH1gIDogYCR7bGVhc3R9IHRvICR7bW9zdH0ke3VuaXR9YF07XG4gIGlmIChsZWFzdCAhPT0gdW5kZWZpbmVkKSByZXR1cm4gW2BhdCBsZWFzdCAke2xlYXN0fSR7dW5pdH1gXTtcbiAgcmV0dXJuIG1vc3QgPT09IHVuZGVmaW5lZCA/IFtdIDogW2BhdCBtb3N0ICR7bW9zdH0ke3VuaXR9YF07XG59XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7OztBQUtPLFNBQVMsV0FBVyxFQUFFLFNBQVMsU0FBUyxDQUFDLEVBQUUsR0FBOEM7QUFDOUYsUUFBTSxNQUFnQixDQUFDO0FBQ3ZCLE1BQUksUUFBUyxLQUFJLEtBQUssUUFBUSxJQUFJLE1BQU0sRUFBRSxLQUFLLEtBQUssQ0FBQztBQUNyRCxRQUFNLEVBQUUsWUFBWSxPQUFPLFdBQVcsS0FBSyxJQUFJO0FBQy9DLE1BQUksS0FBSyxHQUFHLE1BQU0sT0FBTyxNQUFNLEVBQUUsQ0FBQztBQUNsQyxNQUFJLE9BQU8sU0FBUyxPQUFXLEtBQUksS0FBSyxRQUFRLE9BQU8sSUFBSSxFQUFFO0FBQzdELE1BQUksT0FBTyxVQUFVLE9BQVcsS0FBSSxLQUFLLFNBQVMsT0FBTyxLQUFLLEVBQUU7QUFDaEUsTUFBSSxPQUFPLGFBQWEsTUFBTSxPQUFXLEtBQUksS0FBSyxpQkFBaUIsT0FBTyxhQUFhLENBQUMsRUFBRTtBQUMxRixNQUFJLE9BQU8sWUFBWSxPQUFXLEtBQUksS0FBSyxXQUFXLE9BQU8sT0FBTyxFQUFFO0FBQ3RFLE1BQUksS0FBSyxHQUFHLE1BQU0sT0FBTyxjQUFjLEdBQUcsT0FBTyxhQUFhLEdBQUcsYUFBYSxDQUFDO0FBQy9FLE1BQUksS0FBSyxHQUFHLE1BQU0sT0FBTyxhQUFhLEdBQUcsT0FBTyxZQUFZLEdBQUcsUUFBUSxDQUFDO0FBQ3hFLE1BQUksT0FBTyxlQUFlLEVBQUcsS0FBSSxLQUFLLGVBQWU7QUFDckQsU0FBTyxJQUFJLEtBQUssSUFBSTtBQUN0QjtBQUVBLFNBQVMsTUFBTSxPQUEyQixNQUEwQixNQUF3QjtBQUMxRixNQUFJLFVBQVUsVUFBYSxTQUFTO0FBQ2xDLFdBQU8sQ0FBQyxVQUFVLE9BQU8sV0FBVyxLQUFLLEdBQUcsSUFBSSxLQUFLLEdBQUcsS0FBSyxPQUFPLElBQUksR0FBRyxJQUFJLEVBQUU7QUFDbkYsTUFBSSxVQUFVLE9BQVcsUUFBTyxDQUFDLFlBQVksS0FBSyxHQUFHLElBQUksRUFBRTtBQUMzRCxTQUFPLFNBQVMsU0FBWSxDQUFDLElBQUksQ0FBQyxXQUFXLElBQUksR0FBRyxJQUFJLEVBQUU7QUFDNUQ7IiwKICAibmFtZXMiOiBbXQp9Cg==
