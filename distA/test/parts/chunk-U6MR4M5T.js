import {
  headerValue
} from "./chunk-UHUDVQF4.js";
import {
  isValueMap
} from "./chunk-XGDOGID3.js";

// src/core/place/kinds/errors.ts
var errors = {
  name: "errors",
  about: "a list of the errors that the answer declares: the problem of RFC 9457, the errors of GraphQL, the fault of SOAP; empty where it declares none",
  example: "errors",
  read: (text) => text === "errors" ? { text, strict: true, find: declaredErrors, near: () => void 0 } : void 0
};
function declaredErrors(observed) {
  const type = headerValue(observed.headers, "content-type") ?? "";
  if (/^application\/problem\+json\s*(?:;|$)/i.test(type)) {
    const problem = observed.json();
    return isValueMap(problem) ? [problem] : [];
  }
  return verdictInside(observed, type);
}
function verdictInside(observed, type = headerValue(observed.headers, "content-type") ?? "") {
  if (/[/+]json\b/i.test(type)) return graphqlErrors(observed);
  return /[/+]xml\b/i.test(type) ? soapFault(observed.text) : [];
}
var responseKeys = /* @__PURE__ */ new Set(["data", "errors", "extensions"]);
function graphqlErrors(observed) {
  if (observed.size === 0) return [];
  const body = observed.json();
  if (!isValueMap(body) || !Array.isArray(body.errors)) return [];
  const list = body.errors;
  const shaped = list.every((one) => isValueMap(one) && typeof one.message === "string");
  return shaped && Object.keys(body).every((key) => responseKeys.has(key)) ? list : [];
}
function soapFault(text) {
  const body = /<(?:[\w.-]+:)?Envelope[\s>][\s\S]*?<((?:[\w.-]+:)?Fault)(?:\s[^>]*)?>([\s\S]*?)<\/\1>/.exec(text)?.[2];
  if (body === void 0) return [];
  const inner = (name) => {
    const found = new RegExp(`<((?:[\\w.-]+:)?${name})(?:\\s[^>]*)?>([\\s\\S]*?)</\\1>`).exec(body)?.[2];
    return found?.replace(/<[^>]*>/g, " ").replace(/\s+/g, " ").trim();
  };
  const fault = {};
  const facts = [
    ["code", inner("faultcode") ?? inner("Value")],
    ["message", inner("faultstring") ?? inner("Text")],
    ["actor", inner("faultactor")],
    ["detail", inner("detail") ?? inner("Detail")]
  ];
  for (const [name, value] of facts) if (value !== void 0 && value !== "") fault[name] = unescaped(value);
  return [fault];
}
var unescaped = (text) => text.replaceAll("&lt;", "<").replaceAll("&gt;", ">").replaceAll("&quot;", '"').replaceAll("&apos;", "'").replaceAll("&amp;", "&");

export {
  errors,
  declaredErrors,
  verdictInside
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvcGxhY2Uva2luZHMvZXJyb3JzLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogYGVycm9yc2A6IHdoYXQgdGhlIGFuc3dlciBpdHNlbGYgZGVjbGFyZXMgYXMgZXJyb3JzOiBhbiBSRkMgOTQ1NyBwcm9ibGVtLCB0aGUgZXJyb3JzIG9mIEdyYXBoUUwsIGEgU09BUCBmYXVsdC4gKi9cbmltcG9ydCB0eXBlIHsgVmFsdWUsIFZhbHVlTWFwIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyBpc1ZhbHVlTWFwIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyBoZWFkZXJWYWx1ZSwgdHlwZSBPYnNlcnZlZCB9IGZyb20gJy4uL29ic2VydmVkLmpzJztcbmltcG9ydCB0eXBlIHsgUGxhY2VLaW5kIH0gZnJvbSAnLi4vcGxhY2UuanMnO1xuXG5leHBvcnQgY29uc3QgZXJyb3JzOiBQbGFjZUtpbmQgPSB7XG4gIG5hbWU6ICdlcnJvcnMnLFxuICBhYm91dDpcbiAgICAnYSBsaXN0IG9mIHRoZSBlcnJvcnMgdGhhdCB0aGUgYW5zd2VyIGRlY2xhcmVzOiB0aGUgcHJvYmxlbSBvZiBSRkMgOTQ1NywgdGhlIGVycm9ycyBvZiBHcmFwaFFMLCB0aGUgZmF1bHQgb2YgU09BUDsgZW1wdHkgd2hlcmUgaXQgZGVjbGFyZXMgbm9uZScsXG4gIGV4YW1wbGU6ICdlcnJvcnMnLFxuICByZWFkOiAodGV4dCkgPT4gKHRleHQgPT09ICdlcnJvcnMnID8geyB0ZXh0LCBzdHJpY3Q6IHRydWUsIGZpbmQ6IGRlY2xhcmVkRXJyb3JzLCBuZWFyOiAoKSA9PiB1bmRlZmluZWQgfSA6IHVuZGVmaW5lZCksXG59O1xuXG4vKiogQHRocm93cyBQcm9ibGVtIGFuc3dlci1ub3QtanNvbiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGRlY2xhcmVkRXJyb3JzKG9ic2VydmVkOiBPYnNlcnZlZCk6IHJlYWRvbmx5IFZhbHVlW10ge1xuICBjb25zdCB0eXBlID0gaGVhZGVyVmFsdWUob2JzZXJ2ZWQuaGVhZGVycywgJ2NvbnRlbnQtdHlwZScpID8/ICcnO1xuICBpZiAoL15hcHBsaWNhdGlvblxcL3Byb2JsZW1cXCtqc29uXFxzKig/Ojt8JCkvaS50ZXN0KHR5cGUpKSB7XG4gICAgY29uc3QgcHJvYmxlbSA9IG9ic2VydmVkLmpzb24oKTtcbiAgICByZXR1cm4gaXNWYWx1ZU1hcChwcm9ibGVtKSA/IFtwcm9ibGVtXSA6IFtdO1xuICB9XG4gIHJldHVybiB2ZXJkaWN0SW5zaWRlKG9ic2VydmVkLCB0eXBlKTtcbn1cblxuLyoqIFdoYXQgYW4gYW5zd2VyIG9mIGFueSBzdGF0dXMgc2F5cyBvZiBpdHNlbGY6IEdyYXBoUUwgYW5kIFNPQVAgYW5zd2VyIDIwMCB3aGVyZSB0aGV5IHJlZnVzZS4gKi9cbmV4cG9ydCBmdW5jdGlvbiB2ZXJkaWN0SW5zaWRlKFxuICBvYnNlcnZlZDogT2JzZXJ2ZWQsXG4gIHR5cGUgPSBoZWFkZXJWYWx1ZShvYnNlcnZlZC5oZWFkZXJzLCAnY29udGVudC10eXBlJykgPz8gJycsXG4pOiByZWFkb25seSBWYWx1ZVtdIHtcbiAgaWYgKC9bLytdanNvblxcYi9pLnRlc3QodHlwZSkpIHJldHVybiBncmFwaHFsRXJyb3JzKG9ic2VydmVkKTtcbiAgcmV0dXJuIC9bLytdeG1sXFxiL2kudGVzdCh0eXBlKSA/IHNvYXBGYXVsdChvYnNlcnZlZC50ZXh0KSA6IFtdO1xufVxuXG5jb25zdCByZXNwb25zZUtleXMgPSBuZXcgU2V0KFsnZGF0YScsICdlcnJvcnMnLCAnZXh0ZW5zaW9ucyddKTtcblxuLyoqIE9ubHkgYW4gYW5zd2VyIG9mIHRoZSB2ZXJ5IHNoYXBlIG9mIEdyYXBoUUwgKE9jdG9iZXIgMjAyMSwgc2VjdGlvbiA3LjEpOiBvdGhlciBBUElzIGhhdmUgYSBrZXkgYGVycm9yc2AgdG9vLiAqL1xuZnVuY3Rpb24gZ3JhcGhxbEVycm9ycyhvYnNlcnZlZDogT2JzZXJ2ZWQpOiByZWFkb25seSBWYWx1ZVtdIHtcbiAgaWYgKG9ic2VydmVkLnNpemUgPT09IDApIHJldHVybiBbXTtcbiAgY29uc3QgYm9keSA9IG9ic2VydmVkLmpzb24oKTtcbiAgaWYgKCFpc1ZhbHVlTWFwKGJvZHkpIHx8ICFBcnJheS5pc0FycmF5KGJvZHkuZXJyb3JzKSkgcmV0dXJuIFtdO1xuICBjb25zdCBsaXN0ID0gYm9keS5lcnJvcnMgYXMgcmVhZG9ubHkgVmFsdWVbXTtcbiAgY29uc3Qgc2hhcGVkID0gbGlzdC5ldmVyeSgob25lKSA9PiBpc1ZhbHVlTWFwKG9uZSkgJiYgdHlwZW9mIG9uZS5tZXNzYWdlID09PSAnc3RyaW5nJyk7XG4gIHJldHVybiBzaGFwZWQgJiYgT2JqZWN0LmtleXMoYm9keSkuZXZlcnkoKGtleSkgPT4gcmVzcG9uc2VLZXlzLmhhcyhrZXkpKSA/IGxpc3QgOiBbXTtcbn1cblxuLyoqIFNPQVAgMS4xIHNlY3Rpb24gNC40LCBTT0FQIDEuMiBwYXJ0IDEgc2VjdGlvbiA1LjQuICovXG5mdW5jdGlvbiBzb2FwRmF1bHQodGV4dDogc3RyaW5nKTogcmVhZG9ubHkgVmFsdWVbXSB7XG4gIGNvbnN0IGJvZHkgPSAvPCg/OltcXHcuLV0rOik/RW52ZWxvcGVbXFxzPl1bXFxzXFxTXSo/PCgoPzpbXFx3Li1dKzopP0ZhdWx0KSg/Olxcc1tePl0qKT8+KFtcXHNcXFNdKj8pPFxcL1xcMT4vLmV4ZWModGV4dCk/LlsyXTtcbiAgaWYgKGJvZHkgPT09IHVuZGVmaW5lZCkgcmV0dXJuIFtdO1xuICBjb25zdCBpbm5lciA9IChuYW1lOiBzdHJpbmcpOiBzdHJpbmcgfCB1bmRlZmluZWQgPT4ge1xuICAgIGNvbnN0IGZvdW5kID0gbmV3IFJlZ0V4cChgPCgoPzpbXFxcXHcuLV0rOik/JHtuYW1lfSkoPzpcXFxcc1tePl0qKT8+KFtcXFxcc1xcXFxTXSo/KTwvXFxcXDE+YCkuZXhlYyhib2R5KT8uWzJdO1xuICAgIHJldHVybiBmb3VuZFxuICAgICAgPy5yZXBsYWNlKC88W14+XSo+L2csICcgJylcbiAgICAgIC5yZXBsYWNlKC9cXHMrL2csICcgJylcbiAgICAgIC50cmltKCk7XG4gIH07XG4gIGNvbnN0IGZhdWx0OiBSZWNvcmQ8c3RyaW5nLCBWYWx1ZT4gPSB7fTtcbiAgY29uc3QgZmFjdHMgPSBbXG4gICAgWydjb2RlJywgaW5uZXIoJ2ZhdWx0Y29kZScpID8/IGlubmVyKCdWYWx1ZScpXSxcbiAgICBbJ21lc3NhZ2UnLCBpbm5lcignZmF1bHRzdHJpbmcnKSA/PyBpbm5lcignVGV4dCcpXSxcbiAgICBbJ2FjdG9yJywgaW5uZXIoJ2ZhdWx0YWN0b3InKV0sXG4gICAgWydkZXRhaWwnLCBpbm5lcignZGV0YWlsJykgPz8gaW5uZXIoJ0RldGFpbCcpXSxcbiAgXSBhcyBjb25zdDtcbiAgZm9yIChjb25zdCBbbmFtZSwgdmFsdWVdIG9mIGZhY3RzKSBpZiAodmFsdWUgIT09IHVuZGVmaW5lZCAmJiB2YWx1ZSAhPT0gJycpIGZhdWx0W25hbWVdID0gdW5lc2NhcGVkKHZhbHVlKTtcbiAgcmV0dXJuIFtmYXVsdCBhcyBWYWx1ZU1hcF07XG59XG5cbmNvbnN0IHVuZXNjYXBlZCA9ICh0ZXh0OiBzdHJpbmcpOiBzdHJpbmcgPT5cbiAgdGV4dFxuICAgIC5yZXBsYWNlQWxsKCcmbHQ7JywgJzwnKVxuICAgIC5yZXBsYWNlQWxsKCcmZ3Q7JywgJz4nKVxuICAgIC5yZXBsYWNlQWxsKCcmcXVvdDsnLCAnXCInKVxuICAgIC5yZXBsYWNlQWxsKCcmYXBvczsnLCBcIidcIilcbiAgICAucmVwbGFjZUFsbCgnJmFtcDsnLCAnJicpO1xuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7QUFNTyxJQUFNLFNBQW9CO0FBQUEsRUFDL0IsTUFBTTtBQUFBLEVBQ04sT0FDRTtBQUFBLEVBQ0YsU0FBUztBQUFBLEVBQ1QsTUFBTSxDQUFDLFNBQVUsU0FBUyxXQUFXLEVBQUUsTUFBTSxRQUFRLE1BQU0sTUFBTSxnQkFBZ0IsTUFBTSxNQUFNLE9BQVUsSUFBSTtBQUM3RztBQUdPLFNBQVMsZUFBZSxVQUFzQztBQUNuRSxRQUFNLE9BQU8sWUFBWSxTQUFTLFNBQVMsY0FBYyxLQUFLO0FBQzlELE1BQUkseUNBQXlDLEtBQUssSUFBSSxHQUFHO0FBQ3ZELFVBQU0sVUFBVSxTQUFTLEtBQUs7QUFDOUIsV0FBTyxXQUFXLE9BQU8sSUFBSSxDQUFDLE9BQU8sSUFBSSxDQUFDO0FBQUEsRUFDNUM7QUFDQSxTQUFPLGNBQWMsVUFBVSxJQUFJO0FBQ3JDO0FBR08sU0FBUyxjQUNkLFVBQ0EsT0FBTyxZQUFZLFNBQVMsU0FBUyxjQUFjLEtBQUssSUFDdEM7QUFDbEIsTUFBSSxjQUFjLEtBQUssSUFBSSxFQUFHLFFBQU8sY0FBYyxRQUFRO0FBQzNELFNBQU8sYUFBYSxLQUFLLElBQUksSUFBSSxVQUFVLFNBQVMsSUFBSSxJQUFJLENBQUM7QUFDL0Q7QUFFQSxJQUFNLGVBQWUsb0JBQUksSUFBSSxDQUFDLFFBQVEsVUFBVSxZQUFZLENBQUM7QUFHN0QsU0FBUyxjQUFjLFVBQXNDO0FBQzNELE1BQUksU0FBUyxTQUFTLEVBQUcsUUFBTyxDQUFDO0FBQ2pDLFFBQU0sT0FBTyxTQUFTLEtBQUs7QUFDM0IsTUFBSSxDQUFDLFdBQVcsSUFBSSxLQUFLLENBQUMsTUFBTSxRQUFRLEtBQUssTUFBTSxFQUFHLFFBQU8sQ0FBQztBQUM5RCxRQUFNLE9BQU8sS0FBSztBQUNsQixRQUFNLFNBQVMsS0FBSyxNQUFNLENBQUMsUUFBUSxXQUFXLEdBQUcsS0FBSyxPQUFPLElBQUksWUFBWSxRQUFRO0FBQ3JGLFNBQU8sVUFBVSxPQUFPLEtBQUssSUFBSSxFQUFFLE1BQU0sQ0FBQyxRQUFRLGFBQWEsSUFBSSxHQUFHLENBQUMsSUFBSSxPQUFPLENBQUM7QUFDckY7QUFHQSxTQUFTLFVBQVUsTUFBZ0M7QUFDakQsUUFBTSxPQUFPLHdGQUF3RixLQUFLLElBQUksSUFBSSxDQUFDO0FBQ25ILE1BQUksU0FBUyxPQUFXLFFBQU8sQ0FBQztBQUNoQyxRQUFNLFFBQVEsQ0FBQyxTQUFxQztBQUNsRCxVQUFNLFFBQVEsSUFBSSxPQUFPLG1CQUFtQixJQUFJLG1DQUFtQyxFQUFFLEtBQUssSUFBSSxJQUFJLENBQUM7QUFDbkcsV0FBTyxPQUNILFFBQVEsWUFBWSxHQUFHLEVBQ3hCLFFBQVEsUUFBUSxHQUFHLEVBQ25CLEtBQUs7QUFBQSxFQUNWO0FBQ0EsUUFBTSxRQUErQixDQUFDO0FBQ3RDLFFBQU0sUUFBUTtBQUFBLElBQ1osQ0FBQyxRQUFRLE1BQU0sV0FBVyxLQUFLLE1BQU0sT0FBTyxDQUFDO0FBQUEsSUFDN0MsQ0FBQyxXQUFXLE1BQU0sYUFBYSxLQUFLLE1BQU0sTUFBTSxDQUFDO0FBQUEsSUFDakQsQ0FBQyxTQUFTLE1BQU0sWUFBWSxDQUFDO0FBQUEsSUFDN0IsQ0FBQyxVQUFVLE1BQU0sUUFBUSxLQUFLLE1BQU0sUUFBUSxDQUFDO0FBQUEsRUFDL0M7QUFDQSxhQUFXLENBQUMsTUFBTSxLQUFLLEtBQUssTUFBTyxLQUFJLFVBQVUsVUFBYSxVQUFVLEdBQUksT0FBTSxJQUFJLElBQUksVUFBVSxLQUFLO0FBQ3pHLFNBQU8sQ0FBQyxLQUFpQjtBQUMzQjtBQUVBLElBQU0sWUFBWSxDQUFDLFNBQ2pCLEtBQ0csV0FBVyxRQUFRLEdBQUcsRUFDdEIsV0FBVyxRQUFRLEdBQUcsRUFDdEIsV0FBVyxVQUFVLEdBQUcsRUFDeEIsV0FBVyxVQUFVLEdBQUcsRUFDeEIsV0FBVyxTQUFTLEdBQUc7IiwKICAibmFtZXMiOiBbXQp9Cg==
