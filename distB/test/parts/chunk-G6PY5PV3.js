import {
  percentEncode
} from "./chunk-VVGKGSPN.js";
import {
  textOf
} from "./chunk-ZC7SUIQQ.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";
import {
  plain
} from "./chunk-XGDOGID3.js";

// src/core/exchange/address-template.ts
var plainOperator = { first: "", between: ",", named: false, ifEmpty: "", reserved: false };
var operators = {
  "+": { ...plainOperator, reserved: true },
  "#": { ...plainOperator, first: "#", reserved: true },
  ".": { ...plainOperator, first: ".", between: "." },
  "/": { ...plainOperator, first: "/", between: "/" },
  ";": { ...plainOperator, first: ";", between: ";", named: true },
  "?": { ...plainOperator, first: "?", between: "&", named: true, ifEmpty: "=" },
  "&": { ...plainOperator, first: "&", between: "&", named: true, ifEmpty: "=" }
};
function addressPart(source, missing) {
  const operator = operators[source[0] ?? ""];
  const list = operator ? source.slice(1) : source;
  const variables = list.split(",").map((one) => {
    const [, name, exploded] = /^([^*:,\s{}]+)(\*)?$/.exec(one.trim()) ?? [];
    if (name !== void 0) return { name, exploded: exploded !== void 0 };
    throw new Problem("address-shape", {
      what: `{${source}} is not a part of an address`,
      remedy: "such as {imo}, {+path}, {/quay,berth} or {?free,length} (RFC 6570)"
    });
  });
  const { first, between, named, ifEmpty, reserved } = operator ?? plainOperator;
  const encode = reserved ? encodeReserved : percentEncode;
  const [only] = variables;
  if (!operator && variables.length === 1 && only) return pathPart(only.name, missing);
  return {
    names: variables.map(({ name }) => name),
    write(value) {
      const written = variables.flatMap(({ name, exploded }) => {
        const given = value(name);
        if (given === void 0) {
          if (operator) return [];
          throw missing(name);
        }
        const items = textsOf(given, name);
        if (!operator && items.every((item) => item === "")) throw emptyPart(name);
        if (items.length === 0) return [];
        const encoded = items.map(encode);
        return (exploded ? encoded : [encoded.join(",")]).map(
          (text) => named ? `${name}${text === "" ? ifEmpty : `=${text}`}` : text
        );
      });
      return written.length === 0 ? "" : first + written.join(between);
    }
  };
}
function pathPart(name, missing) {
  return {
    names: [name],
    write(value) {
      const given = value(name);
      if (given === void 0) throw missing(name);
      const texts = textsOf(given, name);
      if (texts.every((text) => text === "")) throw emptyPart(name);
      return texts.map(percentEncode).join(",");
    }
  };
}
function addressNames(source) {
  try {
    return addressPart(source, emptyPart).names;
  } catch {
    return [];
  }
}
function textsOf(value, name) {
  const items = Array.isArray(value) ? value : [value];
  return items.map((item) => {
    if (plain(item) !== null) return textOf(item);
    throw new Problem("address-shape", { what: `the value for {${name}} in the address is null`, data: { name } });
  });
}
var emptyPart = (name) => new Problem("address-shape", { what: `the value for {${name}} in the address is empty`, data: { name } });
var encodeReserved = (text) => text.replace(
  /%[0-9A-Fa-f]{2}|[^A-Za-z0-9._~:/?#[\]@!$&'()*+,;=-]+/g,
  (part) => /^%[0-9A-Fa-f]{2}$/.test(part) ? part : encodeURIComponent(part)
);

export {
  addressPart,
  addressNames
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZXhjaGFuZ2UvYWRkcmVzcy10ZW1wbGF0ZS50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqXG4gKiBUaGUgYHtcdTIwMjZ9YCBwYXJ0cyBvZiBhbiBhZGRyZXNzLCBieSBSRkMgNjU3MCAobGV2ZWxzIDEgdG8gMywgYW5kIGxpc3RzIGFzIGxldmVsIDQgd3JpdGVzIHRoZW0pOiBge2ltb31gLCBgeytwYXRofWAsXG4gKiBgey9xdWF5LGJlcnRofWAsIGB7P2ZyZWUsbGVuZ3RofWAuXG4gKi9cbmltcG9ydCB7IHBlcmNlbnRFbmNvZGUgfSBmcm9tICcuLi9leHByZXNzaW9uL2ZpbHRlcnMvdGV4dC5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHRleHRPZiB9IGZyb20gJy4uL3ZhbHVlL3RleHQuanMnO1xuaW1wb3J0IHsgcGxhaW4sIHR5cGUgVmFsdWUgfSBmcm9tICcuLi92YWx1ZS93cml0dGVuLmpzJztcblxuaW50ZXJmYWNlIE9wZXJhdG9yIHtcbiAgcmVhZG9ubHkgZmlyc3Q6IHN0cmluZztcbiAgcmVhZG9ubHkgYmV0d2Vlbjogc3RyaW5nO1xuICAvKiogV3JpdHRlbiBhcyBgbmFtZT12YWx1ZWAuICovXG4gIHJlYWRvbmx5IG5hbWVkOiBib29sZWFuO1xuICAvKiogQmVoaW5kIHRoZSBuYW1lIG9mIGFuIGVtcHR5IHZhbHVlLiAqL1xuICByZWFkb25seSBpZkVtcHR5OiBzdHJpbmc7XG4gIHJlYWRvbmx5IHJlc2VydmVkOiBib29sZWFuO1xufVxuXG5jb25zdCBwbGFpbk9wZXJhdG9yOiBPcGVyYXRvciA9IHsgZmlyc3Q6ICcnLCBiZXR3ZWVuOiAnLCcsIG5hbWVkOiBmYWxzZSwgaWZFbXB0eTogJycsIHJlc2VydmVkOiBmYWxzZSB9O1xuLyoqIFJGQyA2NTcwLCBhcHBlbmRpeCBBLiAqL1xuY29uc3Qgb3BlcmF0b3JzOiBSZWFkb25seTxSZWNvcmQ8c3RyaW5nLCBPcGVyYXRvcj4+ID0ge1xuICAnKyc6IHsgLi4ucGxhaW5PcGVyYXRvciwgcmVzZXJ2ZWQ6IHRydWUgfSxcbiAgJyMnOiB7IC4uLnBsYWluT3BlcmF0b3IsIGZpcnN0OiAnIycsIHJlc2VydmVkOiB0cnVlIH0sXG4gICcuJzogeyAuLi5wbGFpbk9wZXJhdG9yLCBmaXJzdDogJy4nLCBiZXR3ZWVuOiAnLicgfSxcbiAgJy8nOiB7IC4uLnBsYWluT3BlcmF0b3IsIGZpcnN0OiAnLycsIGJldHdlZW46ICcvJyB9LFxuICAnOyc6IHsgLi4ucGxhaW5PcGVyYXRvciwgZmlyc3Q6ICc7JywgYmV0d2VlbjogJzsnLCBuYW1lZDogdHJ1ZSB9LFxuICAnPyc6IHsgLi4ucGxhaW5PcGVyYXRvciwgZmlyc3Q6ICc/JywgYmV0d2VlbjogJyYnLCBuYW1lZDogdHJ1ZSwgaWZFbXB0eTogJz0nIH0sXG4gICcmJzogeyAuLi5wbGFpbk9wZXJhdG9yLCBmaXJzdDogJyYnLCBiZXR3ZWVuOiAnJicsIG5hbWVkOiB0cnVlLCBpZkVtcHR5OiAnPScgfSxcbn07XG5cbmV4cG9ydCBpbnRlcmZhY2UgQWRkcmVzc1BhcnQge1xuICByZWFkb25seSBuYW1lczogcmVhZG9ubHkgc3RyaW5nW107XG4gIC8qKiBAcGFyYW0gdmFsdWUgb2YgYSBuYW1lOyB1bmRlZmluZWQgd2hlcmUgdGhlcmUgaXMgbm9uZSBAdGhyb3dzIFByb2JsZW0gdW5rbm93bi1uYW1lLCBhZGRyZXNzLXNoYXBlICovXG4gIHdyaXRlKHZhbHVlOiAobmFtZTogc3RyaW5nKSA9PiBWYWx1ZSB8IHVuZGVmaW5lZCk6IHN0cmluZztcbn1cblxuLyoqXG4gKiBAcGFyYW0gc291cmNlIHdoYXQgc3RhbmRzIGJldHdlZW4gdGhlIGJyYWNlc1xuICogQHBhcmFtIG1pc3Npbmcgd2hhdCB0byB0aHJvdyB3aGVyZSBhIG5hbWUgdGhhdCBoYXMgdG8gc3RhbmQgdGhlcmUgaGFzIG5vIHZhbHVlXG4gKiBAdGhyb3dzIFByb2JsZW0gYWRkcmVzcy1zaGFwZVxuICovXG5leHBvcnQgZnVuY3Rpb24gYWRkcmVzc1BhcnQoc291cmNlOiBzdHJpbmcsIG1pc3Npbmc6IChuYW1lOiBzdHJpbmcpID0+IFByb2JsZW0pOiBBZGRyZXNzUGFydCB7XG4gIGNvbnN0IG9wZXJhdG9yID0gb3BlcmF0b3JzW3NvdXJjZVswXSA/PyAnJ107XG4gIGNvbnN0IGxpc3QgPSBvcGVyYXRvciA/IHNvdXJjZS5zbGljZSgxKSA6IHNvdXJjZTtcbiAgY29uc3QgdmFyaWFibGVzID0gbGlzdC5zcGxpdCgnLCcpLm1hcCgob25lKSA9PiB7XG4gICAgY29uc3QgWywgbmFtZSwgZXhwbG9kZWRdID0gL14oW14qOixcXHN7fV0rKShcXCopPyQvLmV4ZWMob25lLnRyaW0oKSkgPz8gW107XG4gICAgaWYgKG5hbWUgIT09IHVuZGVmaW5lZCkgcmV0dXJuIHsgbmFtZSwgZXhwbG9kZWQ6IGV4cGxvZGVkICE9PSB1bmRlZmluZWQgfTtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgnYWRkcmVzcy1zaGFwZScsIHtcbiAgICAgIHdoYXQ6IGB7JHtzb3VyY2V9fSBpcyBub3QgYSBwYXJ0IG9mIGFuIGFkZHJlc3NgLFxuICAgICAgcmVtZWR5OiAnc3VjaCBhcyB7aW1vfSwgeytwYXRofSwgey9xdWF5LGJlcnRofSBvciB7P2ZyZWUsbGVuZ3RofSAoUkZDIDY1NzApJyxcbiAgICB9KTtcbiAgfSk7XG4gIGNvbnN0IHsgZmlyc3QsIGJldHdlZW4sIG5hbWVkLCBpZkVtcHR5LCByZXNlcnZlZCB9ID0gb3BlcmF0b3IgPz8gcGxhaW5PcGVyYXRvcjtcbiAgY29uc3QgZW5jb2RlID0gcmVzZXJ2ZWQgPyBlbmNvZGVSZXNlcnZlZCA6IHBlcmNlbnRFbmNvZGU7XG4gIGNvbnN0IFtvbmx5XSA9IHZhcmlhYmxlcztcbiAgLy8gV2hhdCBuZWFybHkgZXZlcnkgYWRkcmVzcyBoYXMsIGFuZCBhIHJ1biBvZiB0aG91c2FuZHMgd3JpdGVzIGVhY2ggdGltZS5cbiAgaWYgKCFvcGVyYXRvciAmJiB2YXJpYWJsZXMubGVuZ3RoID09PSAxICYmIG9ubHkpIHJldHVybiBwYXRoUGFydChvbmx5Lm5hbWUsIG1pc3NpbmcpO1xuICByZXR1cm4ge1xuICAgIG5hbWVzOiB2YXJpYWJsZXMubWFwKCh7IG5hbWUgfSkgPT4gbmFtZSksXG4gICAgd3JpdGUodmFsdWUpIHtcbiAgICAgIGNvbnN0IHdyaXR0ZW4gPSB2YXJpYWJsZXMuZmxhdE1hcCgoeyBuYW1lLCBleHBsb2RlZCB9KSA9PiB7XG4gICAgICAgIGNvbnN0IGdpdmVuID0gdmFsdWUobmFtZSk7XG4gICAgICAgIGlmIChnaXZlbiA9PT0gdW5kZWZpbmVkKSB7XG4gICAgICAgICAgLy8gQW4gb3BlcmF0b3IgbGVhdmVzIG91dCB3aGF0IGlzIG5vdCB0aGVyZTsgYSBiYXJlIHBhcnQgb2YgdGhlIHBhdGggaGFzIHRvIGJlIHRoZXJlLlxuICAgICAgICAgIGlmIChvcGVyYXRvcikgcmV0dXJuIFtdO1xuICAgICAgICAgIHRocm93IG1pc3NpbmcobmFtZSk7XG4gICAgICAgIH1cbiAgICAgICAgY29uc3QgaXRlbXMgPSB0ZXh0c09mKGdpdmVuLCBuYW1lKTtcbiAgICAgICAgaWYgKCFvcGVyYXRvciAmJiBpdGVtcy5ldmVyeSgoaXRlbSkgPT4gaXRlbSA9PT0gJycpKSB0aHJvdyBlbXB0eVBhcnQobmFtZSk7XG4gICAgICAgIGlmIChpdGVtcy5sZW5ndGggPT09IDApIHJldHVybiBbXTtcbiAgICAgICAgY29uc3QgZW5jb2RlZCA9IGl0ZW1zLm1hcChlbmNvZGUpO1xuICAgICAgICByZXR1cm4gKGV4cGxvZGVkID8gZW5jb2RlZCA6IFtlbmNvZGVkLmpvaW4oJywnKV0pLm1hcCgodGV4dCkgPT5cbiAgICAgICAgICBuYW1lZCA/IGAke25hbWV9JHt0ZXh0ID09PSAnJyA/IGlmRW1wdHkgOiBgPSR7dGV4dH1gfWAgOiB0ZXh0LFxuICAgICAgICApO1xuICAgICAgfSk7XG4gICAgICByZXR1cm4gd3JpdHRlbi5sZW5ndGggPT09IDAgPyAnJyA6IGZpcnN0ICsgd3JpdHRlbi5qb2luKGJldHdlZW4pO1xuICAgIH0sXG4gIH07XG59XG5cbi8qKiBPbmUgbmFtZSB0aGF0IGhhcyB0byBzdGFuZCB0aGVyZS4gKi9cbmZ1bmN0aW9uIHBhdGhQYXJ0KG5hbWU6IHN0cmluZywgbWlzc2luZzogKG5hbWU6IHN0cmluZykgPT4gUHJvYmxlbSk6IEFkZHJlc3NQYXJ0IHtcbiAgcmV0dXJuIHtcbiAgICBuYW1lczogW25hbWVdLFxuICAgIHdyaXRlKHZhbHVlKSB7XG4gICAgICBjb25zdCBnaXZlbiA9IHZhbHVlKG5hbWUpO1xuICAgICAgaWYgKGdpdmVuID09PSB1bmRlZmluZWQpIHRocm93IG1pc3NpbmcobmFtZSk7XG4gICAgICBjb25zdCB0ZXh0cyA9IHRleHRzT2YoZ2l2ZW4sIG5hbWUpO1xuICAgICAgaWYgKHRleHRzLmV2ZXJ5KCh0ZXh0KSA9PiB0ZXh0ID09PSAnJykpIHRocm93IGVtcHR5UGFydChuYW1lKTtcbiAgICAgIHJldHVybiB0ZXh0cy5tYXAocGVyY2VudEVuY29kZSkuam9pbignLCcpO1xuICAgIH0sXG4gIH07XG59XG5cbi8qKiBUaGUgbmFtZXMgaW4gYSBwYXJ0LCBmb3IgY2hlY2tzIHdpdGhvdXQgdmFsdWVzOyBub25lIHdoZXJlIGl0IGlzIG5vIHBhcnQuICovXG5leHBvcnQgZnVuY3Rpb24gYWRkcmVzc05hbWVzKHNvdXJjZTogc3RyaW5nKTogcmVhZG9ubHkgc3RyaW5nW10ge1xuICB0cnkge1xuICAgIHJldHVybiBhZGRyZXNzUGFydChzb3VyY2UsIGVtcHR5UGFydCkubmFtZXM7XG4gIH0gY2F0Y2gge1xuICAgIHJldHVybiBbXTtcbiAgfVxufVxuXG5mdW5jdGlvbiB0ZXh0c09mKHZhbHVlOiBWYWx1ZSwgbmFtZTogc3RyaW5nKTogc3RyaW5nW10ge1xuICBjb25zdCBpdGVtcyA9IEFycmF5LmlzQXJyYXkodmFsdWUpID8gKHZhbHVlIGFzIHJlYWRvbmx5IFZhbHVlW10pIDogW3ZhbHVlXTtcbiAgcmV0dXJuIGl0ZW1zLm1hcCgoaXRlbSkgPT4ge1xuICAgIGlmIChwbGFpbihpdGVtKSAhPT0gbnVsbCkgcmV0dXJuIHRleHRPZihpdGVtKTtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgnYWRkcmVzcy1zaGFwZScsIHsgd2hhdDogYHRoZSB2YWx1ZSBmb3IgeyR7bmFtZX19IGluIHRoZSBhZGRyZXNzIGlzIG51bGxgLCBkYXRhOiB7IG5hbWUgfSB9KTtcbiAgfSk7XG59XG5cbmNvbnN0IGVtcHR5UGFydCA9IChuYW1lOiBzdHJpbmcpOiBQcm9ibGVtID0+XG4gIG5ldyBQcm9ibGVtKCdhZGRyZXNzLXNoYXBlJywgeyB3aGF0OiBgdGhlIHZhbHVlIGZvciB7JHtuYW1lfX0gaW4gdGhlIGFkZHJlc3MgaXMgZW1wdHlgLCBkYXRhOiB7IG5hbWUgfSB9KTtcblxuLyoqIFJlc2VydmVkIGNoYXJhY3RlcnMgYW5kIHdoYXQgaXMgZW5jb2RlZCBhbHJlYWR5IHN0YXkgKFJGQyA2NTcwIHNlY3Rpb24gMy4yLjMpLiAqL1xuY29uc3QgZW5jb2RlUmVzZXJ2ZWQgPSAodGV4dDogc3RyaW5nKTogc3RyaW5nID0+XG4gIHRleHQucmVwbGFjZSgvJVswLTlBLUZhLWZdezJ9fFteQS1aYS16MC05Ll9+Oi8/I1tcXF1AISQmJygpKissOz0tXSsvZywgKHBhcnQpID0+XG4gICAgL14lWzAtOUEtRmEtZl17Mn0kLy50ZXN0KHBhcnQpID8gcGFydCA6IGVuY29kZVVSSUNvbXBvbmVudChwYXJ0KSxcbiAgKTtcbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7O0FBbUJBLElBQU0sZ0JBQTBCLEVBQUUsT0FBTyxJQUFJLFNBQVMsS0FBSyxPQUFPLE9BQU8sU0FBUyxJQUFJLFVBQVUsTUFBTTtBQUV0RyxJQUFNLFlBQWdEO0FBQUEsRUFDcEQsS0FBSyxFQUFFLEdBQUcsZUFBZSxVQUFVLEtBQUs7QUFBQSxFQUN4QyxLQUFLLEVBQUUsR0FBRyxlQUFlLE9BQU8sS0FBSyxVQUFVLEtBQUs7QUFBQSxFQUNwRCxLQUFLLEVBQUUsR0FBRyxlQUFlLE9BQU8sS0FBSyxTQUFTLElBQUk7QUFBQSxFQUNsRCxLQUFLLEVBQUUsR0FBRyxlQUFlLE9BQU8sS0FBSyxTQUFTLElBQUk7QUFBQSxFQUNsRCxLQUFLLEVBQUUsR0FBRyxlQUFlLE9BQU8sS0FBSyxTQUFTLEtBQUssT0FBTyxLQUFLO0FBQUEsRUFDL0QsS0FBSyxFQUFFLEdBQUcsZUFBZSxPQUFPLEtBQUssU0FBUyxLQUFLLE9BQU8sTUFBTSxTQUFTLElBQUk7QUFBQSxFQUM3RSxLQUFLLEVBQUUsR0FBRyxlQUFlLE9BQU8sS0FBSyxTQUFTLEtBQUssT0FBTyxNQUFNLFNBQVMsSUFBSTtBQUMvRTtBQWFPLFNBQVMsWUFBWSxRQUFnQixTQUFpRDtBQUMzRixRQUFNLFdBQVcsVUFBVSxPQUFPLENBQUMsS0FBSyxFQUFFO0FBQzFDLFFBQU0sT0FBTyxXQUFXLE9BQU8sTUFBTSxDQUFDLElBQUk7QUFDMUMsUUFBTSxZQUFZLEtBQUssTUFBTSxHQUFHLEVBQUUsSUFBSSxDQUFDLFFBQVE7QUFDN0MsVUFBTSxDQUFDLEVBQUUsTUFBTSxRQUFRLElBQUksdUJBQXVCLEtBQUssSUFBSSxLQUFLLENBQUMsS0FBSyxDQUFDO0FBQ3ZFLFFBQUksU0FBUyxPQUFXLFFBQU8sRUFBRSxNQUFNLFVBQVUsYUFBYSxPQUFVO0FBQ3hFLFVBQU0sSUFBSSxRQUFRLGlCQUFpQjtBQUFBLE1BQ2pDLE1BQU0sSUFBSSxNQUFNO0FBQUEsTUFDaEIsUUFBUTtBQUFBLElBQ1YsQ0FBQztBQUFBLEVBQ0gsQ0FBQztBQUNELFFBQU0sRUFBRSxPQUFPLFNBQVMsT0FBTyxTQUFTLFNBQVMsSUFBSSxZQUFZO0FBQ2pFLFFBQU0sU0FBUyxXQUFXLGlCQUFpQjtBQUMzQyxRQUFNLENBQUMsSUFBSSxJQUFJO0FBRWYsTUFBSSxDQUFDLFlBQVksVUFBVSxXQUFXLEtBQUssS0FBTSxRQUFPLFNBQVMsS0FBSyxNQUFNLE9BQU87QUFDbkYsU0FBTztBQUFBLElBQ0wsT0FBTyxVQUFVLElBQUksQ0FBQyxFQUFFLEtBQUssTUFBTSxJQUFJO0FBQUEsSUFDdkMsTUFBTSxPQUFPO0FBQ1gsWUFBTSxVQUFVLFVBQVUsUUFBUSxDQUFDLEVBQUUsTUFBTSxTQUFTLE1BQU07QUFDeEQsY0FBTSxRQUFRLE1BQU0sSUFBSTtBQUN4QixZQUFJLFVBQVUsUUFBVztBQUV2QixjQUFJLFNBQVUsUUFBTyxDQUFDO0FBQ3RCLGdCQUFNLFFBQVEsSUFBSTtBQUFBLFFBQ3BCO0FBQ0EsY0FBTSxRQUFRLFFBQVEsT0FBTyxJQUFJO0FBQ2pDLFlBQUksQ0FBQyxZQUFZLE1BQU0sTUFBTSxDQUFDLFNBQVMsU0FBUyxFQUFFLEVBQUcsT0FBTSxVQUFVLElBQUk7QUFDekUsWUFBSSxNQUFNLFdBQVcsRUFBRyxRQUFPLENBQUM7QUFDaEMsY0FBTSxVQUFVLE1BQU0sSUFBSSxNQUFNO0FBQ2hDLGdCQUFRLFdBQVcsVUFBVSxDQUFDLFFBQVEsS0FBSyxHQUFHLENBQUMsR0FBRztBQUFBLFVBQUksQ0FBQyxTQUNyRCxRQUFRLEdBQUcsSUFBSSxHQUFHLFNBQVMsS0FBSyxVQUFVLElBQUksSUFBSSxFQUFFLEtBQUs7QUFBQSxRQUMzRDtBQUFBLE1BQ0YsQ0FBQztBQUNELGFBQU8sUUFBUSxXQUFXLElBQUksS0FBSyxRQUFRLFFBQVEsS0FBSyxPQUFPO0FBQUEsSUFDakU7QUFBQSxFQUNGO0FBQ0Y7QUFHQSxTQUFTLFNBQVMsTUFBYyxTQUFpRDtBQUMvRSxTQUFPO0FBQUEsSUFDTCxPQUFPLENBQUMsSUFBSTtBQUFBLElBQ1osTUFBTSxPQUFPO0FBQ1gsWUFBTSxRQUFRLE1BQU0sSUFBSTtBQUN4QixVQUFJLFVBQVUsT0FBVyxPQUFNLFFBQVEsSUFBSTtBQUMzQyxZQUFNLFFBQVEsUUFBUSxPQUFPLElBQUk7QUFDakMsVUFBSSxNQUFNLE1BQU0sQ0FBQyxTQUFTLFNBQVMsRUFBRSxFQUFHLE9BQU0sVUFBVSxJQUFJO0FBQzVELGFBQU8sTUFBTSxJQUFJLGFBQWEsRUFBRSxLQUFLLEdBQUc7QUFBQSxJQUMxQztBQUFBLEVBQ0Y7QUFDRjtBQUdPLFNBQVMsYUFBYSxRQUFtQztBQUM5RCxNQUFJO0FBQ0YsV0FBTyxZQUFZLFFBQVEsU0FBUyxFQUFFO0FBQUEsRUFDeEMsUUFBUTtBQUNOLFdBQU8sQ0FBQztBQUFBLEVBQ1Y7QUFDRjtBQUVBLFNBQVMsUUFBUSxPQUFjLE1BQXdCO0FBQ3JELFFBQU0sUUFBUSxNQUFNLFFBQVEsS0FBSyxJQUFLLFFBQTZCLENBQUMsS0FBSztBQUN6RSxTQUFPLE1BQU0sSUFBSSxDQUFDLFNBQVM7QUFDekIsUUFBSSxNQUFNLElBQUksTUFBTSxLQUFNLFFBQU8sT0FBTyxJQUFJO0FBQzVDLFVBQU0sSUFBSSxRQUFRLGlCQUFpQixFQUFFLE1BQU0sa0JBQWtCLElBQUksNEJBQTRCLE1BQU0sRUFBRSxLQUFLLEVBQUUsQ0FBQztBQUFBLEVBQy9HLENBQUM7QUFDSDtBQUVBLElBQU0sWUFBWSxDQUFDLFNBQ2pCLElBQUksUUFBUSxpQkFBaUIsRUFBRSxNQUFNLGtCQUFrQixJQUFJLDZCQUE2QixNQUFNLEVBQUUsS0FBSyxFQUFFLENBQUM7QUFHMUcsSUFBTSxpQkFBaUIsQ0FBQyxTQUN0QixLQUFLO0FBQUEsRUFBUTtBQUFBLEVBQXlELENBQUMsU0FDckUsb0JBQW9CLEtBQUssSUFBSSxJQUFJLE9BQU8sbUJBQW1CLElBQUk7QUFDakU7IiwKICAibmFtZXMiOiBbXQp9Cg==
