import {
  elementKey,
  typeKey,
  xsd
} from "./chunk-LWESV2NC.js";
import {
  escaped
} from "./chunk-VDPV4SN2.js";

// src/core/documentation/wsdl/resolve-type.ts
var localName = (name) => name.slice(name.indexOf("}") + 1);
var plainTypes = {
  string: "string",
  normalizedString: "string",
  token: "string",
  boolean: "boolean",
  decimal: "number",
  float: "number",
  double: "number",
  integer: "integer",
  int: "integer",
  long: "integer",
  short: "integer",
  byte: "integer",
  nonNegativeInteger: "integer",
  positiveInteger: "integer",
  unsignedInt: "integer",
  unsignedLong: "integer",
  unsignedShort: "integer",
  dateTime: "string (date-time)",
  date: "string (date)",
  time: "string (time)",
  anyURI: "string (uri)",
  base64Binary: "string (base64)"
};
var isBuiltIn = (name) => name.startsWith(`{${xsd}}`);
function elementOf(given, definitions) {
  if (given.ref === void 0) return given;
  const target = definitions.get(elementKey(given.ref));
  return target ? { ...target, least: given.least, most: given.most } : given;
}
function globalElement(name, definitions) {
  return definitions.get(elementKey(name));
}
function resolveType({ type, inline }, definitions, depth = 0) {
  const nothing = { text: "string", particles: [], attributes: [], complex: false, names: [] };
  if (type !== void 0 && isBuiltIn(type)) {
    const local = localName(type);
    return { ...nothing, text: plainTypes[local] ?? (/^any/.test(local) ? "any" : `string (${local})`) };
  }
  const own = inline ?? (type === void 0 ? void 0 : definitions.get(typeKey(type)));
  if (!own) return { ...nothing, text: type === void 0 ? "any" : `${localName(type)} (not described)` };
  const names = type === void 0 ? [] : [type];
  const base = own.base !== void 0 && depth < 20 ? resolveType({ type: own.base }, definitions, depth + 1) : void 0;
  const about = own.about ?? base?.about;
  if (own.simple) {
    const text = own.derivation === "list" ? `array of ${base?.text ?? "string"}` : base?.text ?? "string";
    return {
      ...nothing,
      text,
      names,
      about,
      allowed: own.allowed ?? base?.allowed,
      limits: { ...base?.limits, ...own.limits }
    };
  }
  const content = own.content ? [own.content] : [];
  const attributes = own.attributes ?? [];
  const particles = own.derivation === "extension" ? [...base?.particles ?? [], ...content] : content;
  const simpleContent = base !== void 0 && !base.complex;
  return {
    text: simpleContent ? base.text : "object",
    about,
    names: [...names, ...base?.names ?? []],
    particles,
    attributes: [
      ...(base?.attributes ?? []).filter(({ name }) => !attributes.some((one) => one.name === name)),
      ...attributes
    ],
    complex: !simpleContent,
    ...simpleContent && { allowed: base.allowed, limits: base.limits }
  };
}

// src/core/documentation/wsdl/envelope.ts
var envelopes = {
  "1.1": "http://schemas.xmlsoap.org/soap/envelope/",
  "1.2": "http://www.w3.org/2003/05/soap-envelope"
};
var deepest = 12;
var sampleEnvelope = (own, definitions) => envelopeText(own, definitions, (leaf) => escaped(sampleText(leaf)));
function sampleText({ default: fallback, allowed, type }) {
  if (fallback !== void 0) return fallback;
  if (allowed?.[0] !== void 0) return allowed[0];
  if (/integer|number/.test(type)) return "0";
  if (type.startsWith("boolean")) return "false";
  if (type.includes("date-time")) return "2026-11-24T09:00:00Z";
  if (type.includes("(date)")) return "2026-11-24";
  return "text";
}
function envelopeText(own, definitions, text) {
  const writing = new Writing(definitions, text);
  const headers = own.input.headers.flatMap((part) => writing.part(part));
  const parts = own.input.parts.flatMap((part) => writing.part(part));
  const body = own.style === "rpc" ? writing.wrapped(own.operation, own.namespace, parts) : parts;
  const soap = envelopes[own.version];
  const spaces = [...writing.prefixes].map(([namespace, prefix]) => `    xmlns:${prefix}="${escaped(namespace)}"`);
  return [
    "<soap:Envelope",
    [`    xmlns:soap="${soap}"`, ...spaces].join("\n").concat(">"),
    ...headers.length > 0 ? ["  <soap:Header>", ...indented(headers, 2), "  </soap:Header>"] : [],
    "  <soap:Body>",
    ...indented(body, 2),
    "  </soap:Body>",
    "</soap:Envelope>"
  ].join("\n");
}
var indented = (lines, levels) => lines.map((line) => "  ".repeat(levels) + line);
var Writing = class {
  constructor(definitions, text) {
    this.definitions = definitions;
    this.text = text;
  }
  definitions;
  text;
  /** By namespace. */
  prefixes = /* @__PURE__ */ new Map();
  part({ name, element, type }) {
    const described = element === void 0 ? void 0 : globalElement(element, this.definitions);
    const own = described ?? {
      local: name,
      namespace: "",
      ...type !== void 0 && { type },
      least: 1,
      most: 1
    };
    return this.element({ ...own, least: 1, most: 1 }, [], true, []);
  }
  wrapped(name, namespace, lines) {
    const tag = this.tag(name, namespace);
    return [`<${tag}>`, ...indented(lines, 1), `</${tag}>`];
  }
  tag(local, namespace) {
    if (namespace === "") return local;
    let prefix = this.prefixes.get(namespace);
    if (prefix === void 0) {
      const word = /([a-z][a-z0-9]*)[^a-z0-9]*$/i.exec(namespace.replace(/[^a-z0-9]+(?:v?\d[\d.]*)?\/?$/i, ""))?.[1]?.toLowerCase() ?? "ns";
      const taken = new Set(this.prefixes.values());
      prefix = /^xml|^soap$/.test(word) ? "ns" : word;
      for (let count = 2; taken.has(prefix); count += 1) prefix = `${word}${count}`;
      this.prefixes.set(namespace, prefix);
    }
    return `${prefix}:${local}`;
  }
  /** @param above names of the types that hold it */
  element(given, path, active, above) {
    const element = elementOf(given, this.definitions);
    const resolved = resolveType(element, this.definitions);
    if (resolved.names.some((name) => above.includes(name)) || path.length > deepest)
      return active ? [`<!-- ${element.local}: again as above -->`] : [];
    const here = [...path, element.local];
    const tag = this.tag(element.local, element.namespace);
    const attributes = resolved.attributes.filter(({ required }) => required).map((one) => {
      const { text, allowed, limits, about } = resolveType(one, this.definitions);
      const leaf = {
        path: [...here, one.name],
        type: text,
        allowed,
        limits,
        about: one.about ?? about,
        default: one.fixed ?? one.default,
        active
      };
      const name = one.namespace ? this.tag(one.name, one.namespace) : one.name;
      return ` ${name}="${this.value(leaf, one.fixed)}"`;
    }).join("");
    const many = element.most === -1 || element.most > 1 ? "may repeat" : "";
    if (!resolved.complex) {
      const leaf = {
        path: here,
        type: resolved.text,
        allowed: resolved.allowed,
        limits: resolved.limits,
        about: element.about ?? resolved.about,
        default: element.fixed ?? element.default,
        active
      };
      const notes = [resolved.allowed?.join(" | "), many].filter(Boolean).join("; ");
      const note = notes === "" || !active ? "" : `   <!-- ${notes.replaceAll("--", "- -")} -->`;
      return [`<${tag}${attributes}>${this.value(leaf, element.fixed)}</${tag}>${note}`];
    }
    const inside = [...above, ...resolved.names];
    const inner = resolved.particles.flatMap((one) => this.particle(one, here, active, inside));
    if (inner.length === 0) return [`<${tag}${attributes}/>`];
    return [`<${tag}${attributes}>${many && active ? `   <!-- ${many} -->` : ""}`, ...indented(inner, 1), `</${tag}>`];
  }
  value(leaf, fixed) {
    return fixed === void 0 ? this.text(leaf) : escaped(fixed);
  }
  particle(particle, path, active, above) {
    if (particle.is === "any") return active ? ["<!-- any element may stand here -->"] : [];
    if (particle.is === "element")
      return this.marked(
        particle.element.least > 0,
        active,
        "optional",
        (on) => this.element(particle.element, path, on, above)
      );
    if (particle.is !== "choice") {
      return this.marked(
        particle.least > 0,
        active,
        "optional",
        (on) => particle.items.flatMap((one) => this.particle(one, path, on, above))
      );
    }
    const [first, ...others] = particle.items;
    if (!first) return [];
    return [
      ...this.marked(particle.least > 0, active, "optional", (on) => this.whole(first, path, on, above)),
      ...active ? others.flatMap((one) => this.marked(false, true, "or", (on) => this.whole(one, path, on, above))) : []
    ];
  }
  /** A choice that is made is there, whatever its own number says. */
  whole(particle, path, active, above) {
    return particle.is === "element" ? this.element(particle.element, path, active, above) : this.particle(particle, path, active, above);
  }
  /** As it is where it is required, else inside one comment; comments do not nest. */
  marked(required, active, word, write) {
    if (required || !active) return write(active);
    const lines = write(false);
    if (lines.length === 0) return [];
    if (lines.length === 1) return [`<!-- ${word}: ${lines[0]} -->`];
    return [`<!-- ${word}:`, ...indented(lines, 1), "-->"];
  }
};

export {
  localName,
  elementOf,
  globalElement,
  resolveType,
  sampleEnvelope,
  sampleText,
  envelopeText
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi93c2RsL3Jlc29sdmUtdHlwZS50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9kb2N1bWVudGF0aW9uL3dzZGwvZW52ZWxvcGUudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBUeXBlcyBvZiBYTUwgU2NoZW1hLCB3aXRoIHdoYXQgdGhleSBkZXJpdmUgZnJvbSAoWE1MIFNjaGVtYSAxLjEgcGFydCAxLCBzZWN0aW9uIDIuMi4xLjEpLiAqL1xuaW1wb3J0IHR5cGUgeyBEZWZpbml0aW9ucywgTGltaXRzIH0gZnJvbSAnLi4vbW9kZWwuanMnO1xuaW1wb3J0IHtcbiAgdHlwZSBDbGFya05hbWUsXG4gIGVsZW1lbnRLZXksXG4gIHR5cGUgUGFydGljbGUsXG4gIHR5cGVLZXksXG4gIHR5cGUgWHNkQXR0cmlidXRlLFxuICB0eXBlIFhzZEVsZW1lbnQsXG4gIHR5cGUgWHNkVHlwZSxcbiAgeHNkLFxufSBmcm9tICcuL21vZGVsLmpzJztcblxuZXhwb3J0IGNvbnN0IGxvY2FsTmFtZSA9IChuYW1lOiBDbGFya05hbWUpOiBzdHJpbmcgPT4gbmFtZS5zbGljZShuYW1lLmluZGV4T2YoJ30nKSArIDEpO1xuXG4vKiogV2hhdCBhIHR5cGUgY29tZXMgZG93biB0bzogaXRzIHNpbXBsZSBraW5kLCBvciBpdHMgbWVtYmVycy4gKi9cbmV4cG9ydCBpbnRlcmZhY2UgUmVzb2x2ZWRUeXBlIHtcbiAgcmVhZG9ubHkgdGV4dDogc3RyaW5nO1xuICByZWFkb25seSBhbGxvd2VkPzogcmVhZG9ubHkgc3RyaW5nW10gfCB1bmRlZmluZWQ7XG4gIHJlYWRvbmx5IGxpbWl0cz86IExpbWl0cyB8IHVuZGVmaW5lZDtcbiAgcmVhZG9ubHkgYWJvdXQ/OiBzdHJpbmcgfCB1bmRlZmluZWQ7XG4gIC8qKiBJbiB0aGVpciBvcmRlcjsgb2YgYSBzaW1wbGUgdHlwZSBub25lLiAqL1xuICByZWFkb25seSBwYXJ0aWNsZXM6IHJlYWRvbmx5IFBhcnRpY2xlW107XG4gIHJlYWRvbmx5IGF0dHJpYnV0ZXM6IHJlYWRvbmx5IFhzZEF0dHJpYnV0ZVtdO1xuICByZWFkb25seSBjb21wbGV4OiBib29sZWFuO1xuICAvKiogTmFtZXMgb2YgdGhlIHR5cGVzIG9uIHRoZSB3YXksIGZvciByZWN1cnNpb24uICovXG4gIHJlYWRvbmx5IG5hbWVzOiByZWFkb25seSBDbGFya05hbWVbXTtcbn1cblxuY29uc3QgcGxhaW5UeXBlczogUmVhZG9ubHk8UmVjb3JkPHN0cmluZywgc3RyaW5nPj4gPSB7XG4gIHN0cmluZzogJ3N0cmluZycsXG4gIG5vcm1hbGl6ZWRTdHJpbmc6ICdzdHJpbmcnLFxuICB0b2tlbjogJ3N0cmluZycsXG4gIGJvb2xlYW46ICdib29sZWFuJyxcbiAgZGVjaW1hbDogJ251bWJlcicsXG4gIGZsb2F0OiAnbnVtYmVyJyxcbiAgZG91YmxlOiAnbnVtYmVyJyxcbiAgaW50ZWdlcjogJ2ludGVnZXInLFxuICBpbnQ6ICdpbnRlZ2VyJyxcbiAgbG9uZzogJ2ludGVnZXInLFxuICBzaG9ydDogJ2ludGVnZXInLFxuICBieXRlOiAnaW50ZWdlcicsXG4gIG5vbk5lZ2F0aXZlSW50ZWdlcjogJ2ludGVnZXInLFxuICBwb3NpdGl2ZUludGVnZXI6ICdpbnRlZ2VyJyxcbiAgdW5zaWduZWRJbnQ6ICdpbnRlZ2VyJyxcbiAgdW5zaWduZWRMb25nOiAnaW50ZWdlcicsXG4gIHVuc2lnbmVkU2hvcnQ6ICdpbnRlZ2VyJyxcbiAgZGF0ZVRpbWU6ICdzdHJpbmcgKGRhdGUtdGltZSknLFxuICBkYXRlOiAnc3RyaW5nIChkYXRlKScsXG4gIHRpbWU6ICdzdHJpbmcgKHRpbWUpJyxcbiAgYW55VVJJOiAnc3RyaW5nICh1cmkpJyxcbiAgYmFzZTY0QmluYXJ5OiAnc3RyaW5nIChiYXNlNjQpJyxcbn07XG5cbmNvbnN0IGlzQnVpbHRJbiA9IChuYW1lOiBDbGFya05hbWUpOiBib29sZWFuID0+IG5hbWUuc3RhcnRzV2l0aChgeyR7eHNkfX1gKTtcblxuLyoqIEEgZ2xvYmFsIGVsZW1lbnQgaW4gcGxhY2Ugb2YgdGhlIHJlZmVyZW5jZSB0aGF0IHN0YW5kcyBmb3IgaXQ7IGhvdyBvZnRlbiBpdCBzdGFuZHMgaXMgc2FpZCBieSB0aGUgcmVmZXJlbmNlLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGVsZW1lbnRPZihnaXZlbjogWHNkRWxlbWVudCwgZGVmaW5pdGlvbnM6IERlZmluaXRpb25zKTogWHNkRWxlbWVudCB7XG4gIGlmIChnaXZlbi5yZWYgPT09IHVuZGVmaW5lZCkgcmV0dXJuIGdpdmVuO1xuICBjb25zdCB0YXJnZXQgPSBkZWZpbml0aW9ucy5nZXQoZWxlbWVudEtleShnaXZlbi5yZWYpKSBhcyB1bmtub3duIGFzIFhzZEVsZW1lbnQgfCB1bmRlZmluZWQ7XG4gIHJldHVybiB0YXJnZXQgPyB7IC4uLnRhcmdldCwgbGVhc3Q6IGdpdmVuLmxlYXN0LCBtb3N0OiBnaXZlbi5tb3N0IH0gOiBnaXZlbjtcbn1cblxuZXhwb3J0IGZ1bmN0aW9uIGdsb2JhbEVsZW1lbnQobmFtZTogQ2xhcmtOYW1lLCBkZWZpbml0aW9uczogRGVmaW5pdGlvbnMpOiBYc2RFbGVtZW50IHwgdW5kZWZpbmVkIHtcbiAgcmV0dXJuIGRlZmluaXRpb25zLmdldChlbGVtZW50S2V5KG5hbWUpKSBhcyB1bmtub3duIGFzIFhzZEVsZW1lbnQgfCB1bmRlZmluZWQ7XG59XG5cbmV4cG9ydCBmdW5jdGlvbiByZXNvbHZlVHlwZShcbiAgeyB0eXBlLCBpbmxpbmUgfTogeyByZWFkb25seSB0eXBlPzogQ2xhcmtOYW1lOyByZWFkb25seSBpbmxpbmU/OiBYc2RUeXBlIH0sXG4gIGRlZmluaXRpb25zOiBEZWZpbml0aW9ucyxcbiAgZGVwdGggPSAwLFxuKTogUmVzb2x2ZWRUeXBlIHtcbiAgY29uc3Qgbm90aGluZzogUmVzb2x2ZWRUeXBlID0geyB0ZXh0OiAnc3RyaW5nJywgcGFydGljbGVzOiBbXSwgYXR0cmlidXRlczogW10sIGNvbXBsZXg6IGZhbHNlLCBuYW1lczogW10gfTtcbiAgaWYgKHR5cGUgIT09IHVuZGVmaW5lZCAmJiBpc0J1aWx0SW4odHlwZSkpIHtcbiAgICBjb25zdCBsb2NhbCA9IGxvY2FsTmFtZSh0eXBlKTtcbiAgICByZXR1cm4geyAuLi5ub3RoaW5nLCB0ZXh0OiBwbGFpblR5cGVzW2xvY2FsXSA/PyAoL15hbnkvLnRlc3QobG9jYWwpID8gJ2FueScgOiBgc3RyaW5nICgke2xvY2FsfSlgKSB9O1xuICB9XG4gIGNvbnN0IG93biA9XG4gICAgaW5saW5lID8/ICh0eXBlID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiAoZGVmaW5pdGlvbnMuZ2V0KHR5cGVLZXkodHlwZSkpIGFzIHVua25vd24gYXMgWHNkVHlwZSB8IHVuZGVmaW5lZCkpO1xuICBpZiAoIW93bikgcmV0dXJuIHsgLi4ubm90aGluZywgdGV4dDogdHlwZSA9PT0gdW5kZWZpbmVkID8gJ2FueScgOiBgJHtsb2NhbE5hbWUodHlwZSl9IChub3QgZGVzY3JpYmVkKWAgfTtcbiAgY29uc3QgbmFtZXMgPSB0eXBlID09PSB1bmRlZmluZWQgPyBbXSA6IFt0eXBlXTtcbiAgY29uc3QgYmFzZSA9XG4gICAgb3duLmJhc2UgIT09IHVuZGVmaW5lZCAmJiBkZXB0aCA8IDIwID8gcmVzb2x2ZVR5cGUoeyB0eXBlOiBvd24uYmFzZSB9LCBkZWZpbml0aW9ucywgZGVwdGggKyAxKSA6IHVuZGVmaW5lZDtcbiAgY29uc3QgYWJvdXQgPSBvd24uYWJvdXQgPz8gYmFzZT8uYWJvdXQ7XG4gIGlmIChvd24uc2ltcGxlKSB7XG4gICAgY29uc3QgdGV4dCA9IG93bi5kZXJpdmF0aW9uID09PSAnbGlzdCcgPyBgYXJyYXkgb2YgJHtiYXNlPy50ZXh0ID8/ICdzdHJpbmcnfWAgOiAoYmFzZT8udGV4dCA/PyAnc3RyaW5nJyk7XG4gICAgcmV0dXJuIHtcbiAgICAgIC4uLm5vdGhpbmcsXG4gICAgICB0ZXh0LFxuICAgICAgbmFtZXMsXG4gICAgICBhYm91dCxcbiAgICAgIGFsbG93ZWQ6IG93bi5hbGxvd2VkID8/IGJhc2U/LmFsbG93ZWQsXG4gICAgICBsaW1pdHM6IHsgLi4uYmFzZT8ubGltaXRzLCAuLi5vd24ubGltaXRzIH0sXG4gICAgfTtcbiAgfVxuICBjb25zdCBjb250ZW50ID0gb3duLmNvbnRlbnQgPyBbb3duLmNvbnRlbnRdIDogW107XG4gIGNvbnN0IGF0dHJpYnV0ZXMgPSBvd24uYXR0cmlidXRlcyA/PyBbXTtcbiAgLy8gQSByZXN0cmljdGlvbiB3cml0ZXMgaXRzIGNvbnRlbnQgb3V0IGFnYWluOyBhbiBleHRlbnNpb24gYWRkcyB0byB0aGF0IG9mIGl0cyBiYXNlLlxuICBjb25zdCBwYXJ0aWNsZXMgPSBvd24uZGVyaXZhdGlvbiA9PT0gJ2V4dGVuc2lvbicgPyBbLi4uKGJhc2U/LnBhcnRpY2xlcyA/PyBbXSksIC4uLmNvbnRlbnRdIDogY29udGVudDtcbiAgY29uc3Qgc2ltcGxlQ29udGVudCA9IGJhc2UgIT09IHVuZGVmaW5lZCAmJiAhYmFzZS5jb21wbGV4O1xuICByZXR1cm4ge1xuICAgIHRleHQ6IHNpbXBsZUNvbnRlbnQgPyBiYXNlLnRleHQgOiAnb2JqZWN0JyxcbiAgICBhYm91dCxcbiAgICBuYW1lczogWy4uLm5hbWVzLCAuLi4oYmFzZT8ubmFtZXMgPz8gW10pXSxcbiAgICBwYXJ0aWNsZXMsXG4gICAgYXR0cmlidXRlczogW1xuICAgICAgLi4uKGJhc2U/LmF0dHJpYnV0ZXMgPz8gW10pLmZpbHRlcigoeyBuYW1lIH0pID0+ICFhdHRyaWJ1dGVzLnNvbWUoKG9uZSkgPT4gb25lLm5hbWUgPT09IG5hbWUpKSxcbiAgICAgIC4uLmF0dHJpYnV0ZXMsXG4gICAgXSxcbiAgICBjb21wbGV4OiAhc2ltcGxlQ29udGVudCxcbiAgICAuLi4oc2ltcGxlQ29udGVudCAmJiB7IGFsbG93ZWQ6IGJhc2UuYWxsb3dlZCwgbGltaXRzOiBiYXNlLmxpbWl0cyB9KSxcbiAgfTtcbn1cbiIsICIvKipcbiAqIFRoZSBlbnZlbG9wZSBvZiBhIGNhbGwsIGluIHRoZSBvcmRlciBhbmQgdGhlIG5hbWVzcGFjZXMgdGhhdCB0aGUgc2NoZW1hIGRlbWFuZHM6IHJlcXVpcmVkIGVsZW1lbnRzIHN0YW5kXG4gKiB0aGVyZSwgb3B0aW9uYWwgb25lcyBhbmQgb3RoZXIgY2hvaWNlcyBhcyBjb21tZW50cy5cbiAqL1xuaW1wb3J0IHsgZXNjYXBlZCB9IGZyb20gJy4uL2VzY2FwZS14bWwuanMnO1xuaW1wb3J0IHR5cGUgeyBEZWZpbml0aW9ucyB9IGZyb20gJy4uL21vZGVsLmpzJztcbmltcG9ydCB0eXBlIHsgQ2xhcmtOYW1lLCBNZXNzYWdlUGFydCwgT3duU29hcE9wZXJhdGlvbiwgUGFydGljbGUsIFhzZEVsZW1lbnQgfSBmcm9tICcuL21vZGVsLmpzJztcbmltcG9ydCB7IGVsZW1lbnRPZiwgZ2xvYmFsRWxlbWVudCwgdHlwZSBSZXNvbHZlZFR5cGUsIHJlc29sdmVUeXBlIH0gZnJvbSAnLi9yZXNvbHZlLXR5cGUuanMnO1xuXG5jb25zdCBlbnZlbG9wZXMgPSB7XG4gICcxLjEnOiAnaHR0cDovL3NjaGVtYXMueG1sc29hcC5vcmcvc29hcC9lbnZlbG9wZS8nLFxuICAnMS4yJzogJ2h0dHA6Ly93d3cudzMub3JnLzIwMDMvMDUvc29hcC1lbnZlbG9wZScsXG59IGFzIGNvbnN0O1xuXG4vKiogV2hhdCBhIGxlYWYgaXMsIGZvciB3aG9ldmVyIHdyaXRlcyBpdHMgdGV4dC4gKi9cbmV4cG9ydCBpbnRlcmZhY2UgTGVhZiB7XG4gIHJlYWRvbmx5IHBhdGg6IHJlYWRvbmx5IHN0cmluZ1tdO1xuICByZWFkb25seSB0eXBlOiBzdHJpbmc7XG4gIHJlYWRvbmx5IGFsbG93ZWQ/OiByZWFkb25seSBzdHJpbmdbXSB8IHVuZGVmaW5lZDtcbiAgcmVhZG9ubHkgbGltaXRzPzogUmVzb2x2ZWRUeXBlWydsaW1pdHMnXTtcbiAgcmVhZG9ubHkgYWJvdXQ/OiBzdHJpbmcgfCB1bmRlZmluZWQ7XG4gIHJlYWRvbmx5IGRlZmF1bHQ/OiBzdHJpbmcgfCB1bmRlZmluZWQ7XG4gIC8qKiBGYWxzZSBpbnNpZGUgYSBjb21tZW50LiAqL1xuICByZWFkb25seSBhY3RpdmU6IGJvb2xlYW47XG59XG5cbmV4cG9ydCB0eXBlIExlYWZUZXh0ID0gKGxlYWY6IExlYWYpID0+IHN0cmluZztcblxuY29uc3QgZGVlcGVzdCA9IDEyO1xuXG4vKiogQW4gZW52ZWxvcGUgd2l0aCBzYW1wbGUgdmFsdWVzLiAqL1xuZXhwb3J0IGNvbnN0IHNhbXBsZUVudmVsb3BlID0gKG93bjogT3duU29hcE9wZXJhdGlvbiwgZGVmaW5pdGlvbnM6IERlZmluaXRpb25zKTogc3RyaW5nID0+XG4gIGVudmVsb3BlVGV4dChvd24sIGRlZmluaXRpb25zLCAobGVhZikgPT4gZXNjYXBlZChzYW1wbGVUZXh0KGxlYWYpKSk7XG5cbmV4cG9ydCBmdW5jdGlvbiBzYW1wbGVUZXh0KHsgZGVmYXVsdDogZmFsbGJhY2ssIGFsbG93ZWQsIHR5cGUgfTogTGVhZik6IHN0cmluZyB7XG4gIGlmIChmYWxsYmFjayAhPT0gdW5kZWZpbmVkKSByZXR1cm4gZmFsbGJhY2s7XG4gIGlmIChhbGxvd2VkPy5bMF0gIT09IHVuZGVmaW5lZCkgcmV0dXJuIGFsbG93ZWRbMF07XG4gIGlmICgvaW50ZWdlcnxudW1iZXIvLnRlc3QodHlwZSkpIHJldHVybiAnMCc7XG4gIGlmICh0eXBlLnN0YXJ0c1dpdGgoJ2Jvb2xlYW4nKSkgcmV0dXJuICdmYWxzZSc7XG4gIGlmICh0eXBlLmluY2x1ZGVzKCdkYXRlLXRpbWUnKSkgcmV0dXJuICcyMDI2LTExLTI0VDA5OjAwOjAwWic7XG4gIGlmICh0eXBlLmluY2x1ZGVzKCcoZGF0ZSknKSkgcmV0dXJuICcyMDI2LTExLTI0JztcbiAgcmV0dXJuICd0ZXh0Jztcbn1cblxuZXhwb3J0IGZ1bmN0aW9uIGVudmVsb3BlVGV4dChvd246IE93blNvYXBPcGVyYXRpb24sIGRlZmluaXRpb25zOiBEZWZpbml0aW9ucywgdGV4dDogTGVhZlRleHQpOiBzdHJpbmcge1xuICBjb25zdCB3cml0aW5nID0gbmV3IFdyaXRpbmcoZGVmaW5pdGlvbnMsIHRleHQpO1xuICBjb25zdCBoZWFkZXJzID0gb3duLmlucHV0LmhlYWRlcnMuZmxhdE1hcCgocGFydCkgPT4gd3JpdGluZy5wYXJ0KHBhcnQpKTtcbiAgY29uc3QgcGFydHMgPSBvd24uaW5wdXQucGFydHMuZmxhdE1hcCgocGFydCkgPT4gd3JpdGluZy5wYXJ0KHBhcnQpKTtcbiAgY29uc3QgYm9keSA9IG93bi5zdHlsZSA9PT0gJ3JwYycgPyB3cml0aW5nLndyYXBwZWQob3duLm9wZXJhdGlvbiwgb3duLm5hbWVzcGFjZSwgcGFydHMpIDogcGFydHM7XG4gIGNvbnN0IHNvYXAgPSBlbnZlbG9wZXNbb3duLnZlcnNpb25dO1xuICBjb25zdCBzcGFjZXMgPSBbLi4ud3JpdGluZy5wcmVmaXhlc10ubWFwKChbbmFtZXNwYWNlLCBwcmVmaXhdKSA9PiBgICAgIHhtbG5zOiR7cHJlZml4fT1cIiR7ZXNjYXBlZChuYW1lc3BhY2UpfVwiYCk7XG4gIHJldHVybiBbXG4gICAgJzxzb2FwOkVudmVsb3BlJyxcbiAgICBbYCAgICB4bWxuczpzb2FwPVwiJHtzb2FwfVwiYCwgLi4uc3BhY2VzXS5qb2luKCdcXG4nKS5jb25jYXQoJz4nKSxcbiAgICAuLi4oaGVhZGVycy5sZW5ndGggPiAwID8gWycgIDxzb2FwOkhlYWRlcj4nLCAuLi5pbmRlbnRlZChoZWFkZXJzLCAyKSwgJyAgPC9zb2FwOkhlYWRlcj4nXSA6IFtdKSxcbiAgICAnICA8c29hcDpCb2R5PicsXG4gICAgLi4uaW5kZW50ZWQoYm9keSwgMiksXG4gICAgJyAgPC9zb2FwOkJvZHk+JyxcbiAgICAnPC9zb2FwOkVudmVsb3BlPicsXG4gIF0uam9pbignXFxuJyk7XG59XG5cbmNvbnN0IGluZGVudGVkID0gKGxpbmVzOiByZWFkb25seSBzdHJpbmdbXSwgbGV2ZWxzOiBudW1iZXIpOiBzdHJpbmdbXSA9PlxuICBsaW5lcy5tYXAoKGxpbmUpID0+ICcgICcucmVwZWF0KGxldmVscykgKyBsaW5lKTtcblxuY2xhc3MgV3JpdGluZyB7XG4gIC8qKiBCeSBuYW1lc3BhY2UuICovXG4gIHJlYWRvbmx5IHByZWZpeGVzID0gbmV3IE1hcDxzdHJpbmcsIHN0cmluZz4oKTtcblxuICBjb25zdHJ1Y3RvcihcbiAgICBwcml2YXRlIHJlYWRvbmx5IGRlZmluaXRpb25zOiBEZWZpbml0aW9ucyxcbiAgICBwcml2YXRlIHJlYWRvbmx5IHRleHQ6IExlYWZUZXh0LFxuICApIHt9XG5cbiAgcGFydCh7IG5hbWUsIGVsZW1lbnQsIHR5cGUgfTogTWVzc2FnZVBhcnQpOiBzdHJpbmdbXSB7XG4gICAgY29uc3QgZGVzY3JpYmVkID0gZWxlbWVudCA9PT0gdW5kZWZpbmVkID8gdW5kZWZpbmVkIDogZ2xvYmFsRWxlbWVudChlbGVtZW50LCB0aGlzLmRlZmluaXRpb25zKTtcbiAgICBjb25zdCBvd246IFhzZEVsZW1lbnQgPSBkZXNjcmliZWQgPz8ge1xuICAgICAgbG9jYWw6IG5hbWUsXG4gICAgICBuYW1lc3BhY2U6ICcnLFxuICAgICAgLi4uKHR5cGUgIT09IHVuZGVmaW5lZCAmJiB7IHR5cGUgfSksXG4gICAgICBsZWFzdDogMSxcbiAgICAgIG1vc3Q6IDEsXG4gICAgfTtcbiAgICByZXR1cm4gdGhpcy5lbGVtZW50KHsgLi4ub3duLCBsZWFzdDogMSwgbW9zdDogMSB9LCBbXSwgdHJ1ZSwgW10pO1xuICB9XG5cbiAgd3JhcHBlZChuYW1lOiBzdHJpbmcsIG5hbWVzcGFjZTogc3RyaW5nLCBsaW5lczogcmVhZG9ubHkgc3RyaW5nW10pOiBzdHJpbmdbXSB7XG4gICAgY29uc3QgdGFnID0gdGhpcy50YWcobmFtZSwgbmFtZXNwYWNlKTtcbiAgICByZXR1cm4gW2A8JHt0YWd9PmAsIC4uLmluZGVudGVkKGxpbmVzLCAxKSwgYDwvJHt0YWd9PmBdO1xuICB9XG5cbiAgcHJpdmF0ZSB0YWcobG9jYWw6IHN0cmluZywgbmFtZXNwYWNlOiBzdHJpbmcpOiBzdHJpbmcge1xuICAgIGlmIChuYW1lc3BhY2UgPT09ICcnKSByZXR1cm4gbG9jYWw7XG4gICAgbGV0IHByZWZpeCA9IHRoaXMucHJlZml4ZXMuZ2V0KG5hbWVzcGFjZSk7XG4gICAgaWYgKHByZWZpeCA9PT0gdW5kZWZpbmVkKSB7XG4gICAgICBjb25zdCB3b3JkID1cbiAgICAgICAgLyhbYS16XVthLXowLTldKilbXmEtejAtOV0qJC9pXG4gICAgICAgICAgLmV4ZWMobmFtZXNwYWNlLnJlcGxhY2UoL1teYS16MC05XSsoPzp2P1xcZFtcXGQuXSopP1xcLz8kL2ksICcnKSk/LlsxXVxuICAgICAgICAgID8udG9Mb3dlckNhc2UoKSA/PyAnbnMnO1xuICAgICAgY29uc3QgdGFrZW4gPSBuZXcgU2V0KHRoaXMucHJlZml4ZXMudmFsdWVzKCkpO1xuICAgICAgcHJlZml4ID0gL154bWx8XnNvYXAkLy50ZXN0KHdvcmQpID8gJ25zJyA6IHdvcmQ7XG4gICAgICBmb3IgKGxldCBjb3VudCA9IDI7IHRha2VuLmhhcyhwcmVmaXgpOyBjb3VudCArPSAxKSBwcmVmaXggPSBgJHt3b3JkfSR7Y291bnR9YDtcbiAgICAgIHRoaXMucHJlZml4ZXMuc2V0KG5hbWVzcGFjZSwgcHJlZml4KTtcbiAgICB9XG4gICAgcmV0dXJuIGAke3ByZWZpeH06JHtsb2NhbH1gO1xuICB9XG5cbiAgLyoqIEBwYXJhbSBhYm92ZSBuYW1lcyBvZiB0aGUgdHlwZXMgdGhhdCBob2xkIGl0ICovXG4gIHByaXZhdGUgZWxlbWVudChnaXZlbjogWHNkRWxlbWVudCwgcGF0aDogcmVhZG9ubHkgc3RyaW5nW10sIGFjdGl2ZTogYm9vbGVhbiwgYWJvdmU6IHJlYWRvbmx5IENsYXJrTmFtZVtdKTogc3RyaW5nW10ge1xuICAgIGNvbnN0IGVsZW1lbnQgPSBlbGVtZW50T2YoZ2l2ZW4sIHRoaXMuZGVmaW5pdGlvbnMpO1xuICAgIGNvbnN0IHJlc29sdmVkID0gcmVzb2x2ZVR5cGUoZWxlbWVudCwgdGhpcy5kZWZpbml0aW9ucyk7XG4gICAgaWYgKHJlc29sdmVkLm5hbWVzLnNvbWUoKG5hbWUpID0+IGFib3ZlLmluY2x1ZGVzKG5hbWUpKSB8fCBwYXRoLmxlbmd0aCA+IGRlZXBlc3QpXG4gICAgICByZXR1cm4gYWN0aXZlID8gW2A8IS0tICR7ZWxlbWVudC5sb2NhbH06IGFnYWluIGFzIGFib3ZlIC0tPmBdIDogW107XG4gICAgY29uc3QgaGVyZSA9IFsuLi5wYXRoLCBlbGVtZW50LmxvY2FsXTtcbiAgICBjb25zdCB0YWcgPSB0aGlzLnRhZyhlbGVtZW50LmxvY2FsLCBlbGVtZW50Lm5hbWVzcGFjZSk7XG4gICAgY29uc3QgYXR0cmlidXRlcyA9IHJlc29sdmVkLmF0dHJpYnV0ZXNcbiAgICAgIC5maWx0ZXIoKHsgcmVxdWlyZWQgfSkgPT4gcmVxdWlyZWQpXG4gICAgICAubWFwKChvbmUpID0+IHtcbiAgICAgICAgY29uc3QgeyB0ZXh0LCBhbGxvd2VkLCBsaW1pdHMsIGFib3V0IH0gPSByZXNvbHZlVHlwZShvbmUsIHRoaXMuZGVmaW5pdGlvbnMpO1xuICAgICAgICBjb25zdCBsZWFmOiBMZWFmID0ge1xuICAgICAgICAgIHBhdGg6IFsuLi5oZXJlLCBvbmUubmFtZV0sXG4gICAgICAgICAgdHlwZTogdGV4dCxcbiAgICAgICAgICBhbGxvd2VkLFxuICAgICAgICAgIGxpbWl0cyxcbiAgICAgICAgICBhYm91dDogb25lLmFib3V0ID8/IGFib3V0LFxuICAgICAgICAgIGRlZmF1bHQ6IG9uZS5maXhlZCA/PyBvbmUuZGVmYXVsdCxcbiAgICAgICAgICBhY3RpdmUsXG4gICAgICAgIH07XG4gICAgICAgIGNvbnN0IG5hbWUgPSBvbmUubmFtZXNwYWNlID8gdGhpcy50YWcob25lLm5hbWUsIG9uZS5uYW1lc3BhY2UpIDogb25lLm5hbWU7XG4gICAgICAgIHJldHVybiBgICR7bmFtZX09XCIke3RoaXMudmFsdWUobGVhZiwgb25lLmZpeGVkKX1cImA7XG4gICAgICB9KVxuICAgICAgLmpvaW4oJycpO1xuICAgIGNvbnN0IG1hbnkgPSBlbGVtZW50Lm1vc3QgPT09IC0xIHx8IGVsZW1lbnQubW9zdCA+IDEgPyAnbWF5IHJlcGVhdCcgOiAnJztcbiAgICBpZiAoIXJlc29sdmVkLmNvbXBsZXgpIHtcbiAgICAgIGNvbnN0IGxlYWY6IExlYWYgPSB7XG4gICAgICAgIHBhdGg6IGhlcmUsXG4gICAgICAgIHR5cGU6IHJlc29sdmVkLnRleHQsXG4gICAgICAgIGFsbG93ZWQ6IHJlc29sdmVkLmFsbG93ZWQsXG4gICAgICAgIGxpbWl0czogcmVzb2x2ZWQubGltaXRzLFxuICAgICAgICBhYm91dDogZWxlbWVudC5hYm91dCA/PyByZXNvbHZlZC5hYm91dCxcbiAgICAgICAgZGVmYXVsdDogZWxlbWVudC5maXhlZCA/PyBlbGVtZW50LmRlZmF1bHQsXG4gICAgICAgIGFjdGl2ZSxcbiAgICAgIH07XG4gICAgICBjb25zdCBub3RlcyA9IFtyZXNvbHZlZC5hbGxvd2VkPy5qb2luKCcgfCAnKSwgbWFueV0uZmlsdGVyKEJvb2xlYW4pLmpvaW4oJzsgJyk7XG4gICAgICBjb25zdCBub3RlID0gbm90ZXMgPT09ICcnIHx8ICFhY3RpdmUgPyAnJyA6IGAgICA8IS0tICR7bm90ZXMucmVwbGFjZUFsbCgnLS0nLCAnLSAtJyl9IC0tPmA7XG4gICAgICByZXR1cm4gW2A8JHt0YWd9JHthdHRyaWJ1dGVzfT4ke3RoaXMudmFsdWUobGVhZiwgZWxlbWVudC5maXhlZCl9PC8ke3RhZ30+JHtub3RlfWBdO1xuICAgIH1cbiAgICBjb25zdCBpbnNpZGUgPSBbLi4uYWJvdmUsIC4uLnJlc29sdmVkLm5hbWVzXTtcbiAgICBjb25zdCBpbm5lciA9IHJlc29sdmVkLnBhcnRpY2xlcy5mbGF0TWFwKChvbmUpID0+IHRoaXMucGFydGljbGUob25lLCBoZXJlLCBhY3RpdmUsIGluc2lkZSkpO1xuICAgIGlmIChpbm5lci5sZW5ndGggPT09IDApIHJldHVybiBbYDwke3RhZ30ke2F0dHJpYnV0ZXN9Lz5gXTtcbiAgICByZXR1cm4gW2A8JHt0YWd9JHthdHRyaWJ1dGVzfT4ke21hbnkgJiYgYWN0aXZlID8gYCAgIDwhLS0gJHttYW55fSAtLT5gIDogJyd9YCwgLi4uaW5kZW50ZWQoaW5uZXIsIDEpLCBgPC8ke3RhZ30+YF07XG4gIH1cblxuICBwcml2YXRlIHZhbHVlKGxlYWY6IExlYWYsIGZpeGVkOiBzdHJpbmcgfCB1bmRlZmluZWQpOiBzdHJpbmcge1xuICAgIHJldHVybiBmaXhlZCA9PT0gdW5kZWZpbmVkID8gdGhpcy50ZXh0KGxlYWYpIDogZXNjYXBlZChmaXhlZCk7XG4gIH1cblxuICBwcml2YXRlIHBhcnRpY2xlKFxuICAgIHBhcnRpY2xlOiBQYXJ0aWNsZSxcbiAgICBwYXRoOiByZWFkb25seSBzdHJpbmdbXSxcbiAgICBhY3RpdmU6IGJvb2xlYW4sXG4gICAgYWJvdmU6IHJlYWRvbmx5IENsYXJrTmFtZVtdLFxuICApOiBzdHJpbmdbXSB7XG4gICAgaWYgKHBhcnRpY2xlLmlzID09PSAnYW55JykgcmV0dXJuIGFjdGl2ZSA/IFsnPCEtLSBhbnkgZWxlbWVudCBtYXkgc3RhbmQgaGVyZSAtLT4nXSA6IFtdO1xuICAgIGlmIChwYXJ0aWNsZS5pcyA9PT0gJ2VsZW1lbnQnKVxuICAgICAgcmV0dXJuIHRoaXMubWFya2VkKHBhcnRpY2xlLmVsZW1lbnQubGVhc3QgPiAwLCBhY3RpdmUsICdvcHRpb25hbCcsIChvbikgPT5cbiAgICAgICAgdGhpcy5lbGVtZW50KHBhcnRpY2xlLmVsZW1lbnQsIHBhdGgsIG9uLCBhYm92ZSksXG4gICAgICApO1xuICAgIGlmIChwYXJ0aWNsZS5pcyAhPT0gJ2Nob2ljZScpIHtcbiAgICAgIHJldHVybiB0aGlzLm1hcmtlZChwYXJ0aWNsZS5sZWFzdCA+IDAsIGFjdGl2ZSwgJ29wdGlvbmFsJywgKG9uKSA9PlxuICAgICAgICBwYXJ0aWNsZS5pdGVtcy5mbGF0TWFwKChvbmUpID0+IHRoaXMucGFydGljbGUob25lLCBwYXRoLCBvbiwgYWJvdmUpKSxcbiAgICAgICk7XG4gICAgfVxuICAgIGNvbnN0IFtmaXJzdCwgLi4ub3RoZXJzXSA9IHBhcnRpY2xlLml0ZW1zO1xuICAgIGlmICghZmlyc3QpIHJldHVybiBbXTtcbiAgICByZXR1cm4gW1xuICAgICAgLi4udGhpcy5tYXJrZWQocGFydGljbGUubGVhc3QgPiAwLCBhY3RpdmUsICdvcHRpb25hbCcsIChvbikgPT4gdGhpcy53aG9sZShmaXJzdCwgcGF0aCwgb24sIGFib3ZlKSksXG4gICAgICAuLi4oYWN0aXZlXG4gICAgICAgID8gb3RoZXJzLmZsYXRNYXAoKG9uZSkgPT4gdGhpcy5tYXJrZWQoZmFsc2UsIHRydWUsICdvcicsIChvbikgPT4gdGhpcy53aG9sZShvbmUsIHBhdGgsIG9uLCBhYm92ZSkpKVxuICAgICAgICA6IFtdKSxcbiAgICBdO1xuICB9XG5cbiAgLyoqIEEgY2hvaWNlIHRoYXQgaXMgbWFkZSBpcyB0aGVyZSwgd2hhdGV2ZXIgaXRzIG93biBudW1iZXIgc2F5cy4gKi9cbiAgcHJpdmF0ZSB3aG9sZShwYXJ0aWNsZTogUGFydGljbGUsIHBhdGg6IHJlYWRvbmx5IHN0cmluZ1tdLCBhY3RpdmU6IGJvb2xlYW4sIGFib3ZlOiByZWFkb25seSBDbGFya05hbWVbXSk6IHN0cmluZ1tdIHtcbiAgICByZXR1cm4gcGFydGljbGUuaXMgPT09ICdlbGVtZW50J1xuICAgICAgPyB0aGlzLmVsZW1lbnQocGFydGljbGUuZWxlbWVudCwgcGF0aCwgYWN0aXZlLCBhYm92ZSlcbiAgICAgIDogdGhpcy5wYXJ0aWNsZShwYXJ0aWNsZSwgcGF0aCwgYWN0aXZlLCBhYm92ZSk7XG4gIH1cblxuICAvKiogQXMgaXQgaXMgd2hlcmUgaXQgaXMgcmVxdWlyZWQsIGVsc2UgaW5zaWRlIG9uZSBjb21tZW50OyBjb21tZW50cyBkbyBub3QgbmVzdC4gKi9cbiAgcHJpdmF0ZSBtYXJrZWQocmVxdWlyZWQ6IGJvb2xlYW4sIGFjdGl2ZTogYm9vbGVhbiwgd29yZDogc3RyaW5nLCB3cml0ZTogKGFjdGl2ZTogYm9vbGVhbikgPT4gc3RyaW5nW10pOiBzdHJpbmdbXSB7XG4gICAgaWYgKHJlcXVpcmVkIHx8ICFhY3RpdmUpIHJldHVybiB3cml0ZShhY3RpdmUpO1xuICAgIGNvbnN0IGxpbmVzID0gd3JpdGUoZmFsc2UpO1xuICAgIGlmIChsaW5lcy5sZW5ndGggPT09IDApIHJldHVybiBbXTtcbiAgICBpZiAobGluZXMubGVuZ3RoID09PSAxKSByZXR1cm4gW2A8IS0tICR7d29yZH06ICR7bGluZXNbMF19IC0tPmBdO1xuICAgIHJldHVybiBbYDwhLS0gJHt3b3JkfTpgLCAuLi5pbmRlbnRlZChsaW5lcywgMSksICctLT4nXTtcbiAgfVxufVxuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7OztBQWFPLElBQU0sWUFBWSxDQUFDLFNBQTRCLEtBQUssTUFBTSxLQUFLLFFBQVEsR0FBRyxJQUFJLENBQUM7QUFnQnRGLElBQU0sYUFBK0M7QUFBQSxFQUNuRCxRQUFRO0FBQUEsRUFDUixrQkFBa0I7QUFBQSxFQUNsQixPQUFPO0FBQUEsRUFDUCxTQUFTO0FBQUEsRUFDVCxTQUFTO0FBQUEsRUFDVCxPQUFPO0FBQUEsRUFDUCxRQUFRO0FBQUEsRUFDUixTQUFTO0FBQUEsRUFDVCxLQUFLO0FBQUEsRUFDTCxNQUFNO0FBQUEsRUFDTixPQUFPO0FBQUEsRUFDUCxNQUFNO0FBQUEsRUFDTixvQkFBb0I7QUFBQSxFQUNwQixpQkFBaUI7QUFBQSxFQUNqQixhQUFhO0FBQUEsRUFDYixjQUFjO0FBQUEsRUFDZCxlQUFlO0FBQUEsRUFDZixVQUFVO0FBQUEsRUFDVixNQUFNO0FBQUEsRUFDTixNQUFNO0FBQUEsRUFDTixRQUFRO0FBQUEsRUFDUixjQUFjO0FBQ2hCO0FBRUEsSUFBTSxZQUFZLENBQUMsU0FBNkIsS0FBSyxXQUFXLElBQUksR0FBRyxHQUFHO0FBR25FLFNBQVMsVUFBVSxPQUFtQixhQUFzQztBQUNqRixNQUFJLE1BQU0sUUFBUSxPQUFXLFFBQU87QUFDcEMsUUFBTSxTQUFTLFlBQVksSUFBSSxXQUFXLE1BQU0sR0FBRyxDQUFDO0FBQ3BELFNBQU8sU0FBUyxFQUFFLEdBQUcsUUFBUSxPQUFPLE1BQU0sT0FBTyxNQUFNLE1BQU0sS0FBSyxJQUFJO0FBQ3hFO0FBRU8sU0FBUyxjQUFjLE1BQWlCLGFBQWtEO0FBQy9GLFNBQU8sWUFBWSxJQUFJLFdBQVcsSUFBSSxDQUFDO0FBQ3pDO0FBRU8sU0FBUyxZQUNkLEVBQUUsTUFBTSxPQUFPLEdBQ2YsYUFDQSxRQUFRLEdBQ007QUFDZCxRQUFNLFVBQXdCLEVBQUUsTUFBTSxVQUFVLFdBQVcsQ0FBQyxHQUFHLFlBQVksQ0FBQyxHQUFHLFNBQVMsT0FBTyxPQUFPLENBQUMsRUFBRTtBQUN6RyxNQUFJLFNBQVMsVUFBYSxVQUFVLElBQUksR0FBRztBQUN6QyxVQUFNLFFBQVEsVUFBVSxJQUFJO0FBQzVCLFdBQU8sRUFBRSxHQUFHLFNBQVMsTUFBTSxXQUFXLEtBQUssTUFBTSxPQUFPLEtBQUssS0FBSyxJQUFJLFFBQVEsV0FBVyxLQUFLLEtBQUs7QUFBQSxFQUNyRztBQUNBLFFBQU0sTUFDSixXQUFXLFNBQVMsU0FBWSxTQUFhLFlBQVksSUFBSSxRQUFRLElBQUksQ0FBQztBQUM1RSxNQUFJLENBQUMsSUFBSyxRQUFPLEVBQUUsR0FBRyxTQUFTLE1BQU0sU0FBUyxTQUFZLFFBQVEsR0FBRyxVQUFVLElBQUksQ0FBQyxtQkFBbUI7QUFDdkcsUUFBTSxRQUFRLFNBQVMsU0FBWSxDQUFDLElBQUksQ0FBQyxJQUFJO0FBQzdDLFFBQU0sT0FDSixJQUFJLFNBQVMsVUFBYSxRQUFRLEtBQUssWUFBWSxFQUFFLE1BQU0sSUFBSSxLQUFLLEdBQUcsYUFBYSxRQUFRLENBQUMsSUFBSTtBQUNuRyxRQUFNLFFBQVEsSUFBSSxTQUFTLE1BQU07QUFDakMsTUFBSSxJQUFJLFFBQVE7QUFDZCxVQUFNLE9BQU8sSUFBSSxlQUFlLFNBQVMsWUFBWSxNQUFNLFFBQVEsUUFBUSxLQUFNLE1BQU0sUUFBUTtBQUMvRixXQUFPO0FBQUEsTUFDTCxHQUFHO0FBQUEsTUFDSDtBQUFBLE1BQ0E7QUFBQSxNQUNBO0FBQUEsTUFDQSxTQUFTLElBQUksV0FBVyxNQUFNO0FBQUEsTUFDOUIsUUFBUSxFQUFFLEdBQUcsTUFBTSxRQUFRLEdBQUcsSUFBSSxPQUFPO0FBQUEsSUFDM0M7QUFBQSxFQUNGO0FBQ0EsUUFBTSxVQUFVLElBQUksVUFBVSxDQUFDLElBQUksT0FBTyxJQUFJLENBQUM7QUFDL0MsUUFBTSxhQUFhLElBQUksY0FBYyxDQUFDO0FBRXRDLFFBQU0sWUFBWSxJQUFJLGVBQWUsY0FBYyxDQUFDLEdBQUksTUFBTSxhQUFhLENBQUMsR0FBSSxHQUFHLE9BQU8sSUFBSTtBQUM5RixRQUFNLGdCQUFnQixTQUFTLFVBQWEsQ0FBQyxLQUFLO0FBQ2xELFNBQU87QUFBQSxJQUNMLE1BQU0sZ0JBQWdCLEtBQUssT0FBTztBQUFBLElBQ2xDO0FBQUEsSUFDQSxPQUFPLENBQUMsR0FBRyxPQUFPLEdBQUksTUFBTSxTQUFTLENBQUMsQ0FBRTtBQUFBLElBQ3hDO0FBQUEsSUFDQSxZQUFZO0FBQUEsTUFDVixJQUFJLE1BQU0sY0FBYyxDQUFDLEdBQUcsT0FBTyxDQUFDLEVBQUUsS0FBSyxNQUFNLENBQUMsV0FBVyxLQUFLLENBQUMsUUFBUSxJQUFJLFNBQVMsSUFBSSxDQUFDO0FBQUEsTUFDN0YsR0FBRztBQUFBLElBQ0w7QUFBQSxJQUNBLFNBQVMsQ0FBQztBQUFBLElBQ1YsR0FBSSxpQkFBaUIsRUFBRSxTQUFTLEtBQUssU0FBUyxRQUFRLEtBQUssT0FBTztBQUFBLEVBQ3BFO0FBQ0Y7OztBQ3ZHQSxJQUFNLFlBQVk7QUFBQSxFQUNoQixPQUFPO0FBQUEsRUFDUCxPQUFPO0FBQ1Q7QUFnQkEsSUFBTSxVQUFVO0FBR1QsSUFBTSxpQkFBaUIsQ0FBQyxLQUF1QixnQkFDcEQsYUFBYSxLQUFLLGFBQWEsQ0FBQyxTQUFTLFFBQVEsV0FBVyxJQUFJLENBQUMsQ0FBQztBQUU3RCxTQUFTLFdBQVcsRUFBRSxTQUFTLFVBQVUsU0FBUyxLQUFLLEdBQWlCO0FBQzdFLE1BQUksYUFBYSxPQUFXLFFBQU87QUFDbkMsTUFBSSxVQUFVLENBQUMsTUFBTSxPQUFXLFFBQU8sUUFBUSxDQUFDO0FBQ2hELE1BQUksaUJBQWlCLEtBQUssSUFBSSxFQUFHLFFBQU87QUFDeEMsTUFBSSxLQUFLLFdBQVcsU0FBUyxFQUFHLFFBQU87QUFDdkMsTUFBSSxLQUFLLFNBQVMsV0FBVyxFQUFHLFFBQU87QUFDdkMsTUFBSSxLQUFLLFNBQVMsUUFBUSxFQUFHLFFBQU87QUFDcEMsU0FBTztBQUNUO0FBRU8sU0FBUyxhQUFhLEtBQXVCLGFBQTBCLE1BQXdCO0FBQ3BHLFFBQU0sVUFBVSxJQUFJLFFBQVEsYUFBYSxJQUFJO0FBQzdDLFFBQU0sVUFBVSxJQUFJLE1BQU0sUUFBUSxRQUFRLENBQUMsU0FBUyxRQUFRLEtBQUssSUFBSSxDQUFDO0FBQ3RFLFFBQU0sUUFBUSxJQUFJLE1BQU0sTUFBTSxRQUFRLENBQUMsU0FBUyxRQUFRLEtBQUssSUFBSSxDQUFDO0FBQ2xFLFFBQU0sT0FBTyxJQUFJLFVBQVUsUUFBUSxRQUFRLFFBQVEsSUFBSSxXQUFXLElBQUksV0FBVyxLQUFLLElBQUk7QUFDMUYsUUFBTSxPQUFPLFVBQVUsSUFBSSxPQUFPO0FBQ2xDLFFBQU0sU0FBUyxDQUFDLEdBQUcsUUFBUSxRQUFRLEVBQUUsSUFBSSxDQUFDLENBQUMsV0FBVyxNQUFNLE1BQU0sYUFBYSxNQUFNLEtBQUssUUFBUSxTQUFTLENBQUMsR0FBRztBQUMvRyxTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0EsQ0FBQyxtQkFBbUIsSUFBSSxLQUFLLEdBQUcsTUFBTSxFQUFFLEtBQUssSUFBSSxFQUFFLE9BQU8sR0FBRztBQUFBLElBQzdELEdBQUksUUFBUSxTQUFTLElBQUksQ0FBQyxtQkFBbUIsR0FBRyxTQUFTLFNBQVMsQ0FBQyxHQUFHLGtCQUFrQixJQUFJLENBQUM7QUFBQSxJQUM3RjtBQUFBLElBQ0EsR0FBRyxTQUFTLE1BQU0sQ0FBQztBQUFBLElBQ25CO0FBQUEsSUFDQTtBQUFBLEVBQ0YsRUFBRSxLQUFLLElBQUk7QUFDYjtBQUVBLElBQU0sV0FBVyxDQUFDLE9BQTBCLFdBQzFDLE1BQU0sSUFBSSxDQUFDLFNBQVMsS0FBSyxPQUFPLE1BQU0sSUFBSSxJQUFJO0FBRWhELElBQU0sVUFBTixNQUFjO0FBQUEsRUFJWixZQUNtQixhQUNBLE1BQ2pCO0FBRmlCO0FBQ0E7QUFBQSxFQUNoQjtBQUFBLEVBRmdCO0FBQUEsRUFDQTtBQUFBO0FBQUEsRUFKVixXQUFXLG9CQUFJLElBQW9CO0FBQUEsRUFPNUMsS0FBSyxFQUFFLE1BQU0sU0FBUyxLQUFLLEdBQTBCO0FBQ25ELFVBQU0sWUFBWSxZQUFZLFNBQVksU0FBWSxjQUFjLFNBQVMsS0FBSyxXQUFXO0FBQzdGLFVBQU0sTUFBa0IsYUFBYTtBQUFBLE1BQ25DLE9BQU87QUFBQSxNQUNQLFdBQVc7QUFBQSxNQUNYLEdBQUksU0FBUyxVQUFhLEVBQUUsS0FBSztBQUFBLE1BQ2pDLE9BQU87QUFBQSxNQUNQLE1BQU07QUFBQSxJQUNSO0FBQ0EsV0FBTyxLQUFLLFFBQVEsRUFBRSxHQUFHLEtBQUssT0FBTyxHQUFHLE1BQU0sRUFBRSxHQUFHLENBQUMsR0FBRyxNQUFNLENBQUMsQ0FBQztBQUFBLEVBQ2pFO0FBQUEsRUFFQSxRQUFRLE1BQWMsV0FBbUIsT0FBb0M7QUFDM0UsVUFBTSxNQUFNLEtBQUssSUFBSSxNQUFNLFNBQVM7QUFDcEMsV0FBTyxDQUFDLElBQUksR0FBRyxLQUFLLEdBQUcsU0FBUyxPQUFPLENBQUMsR0FBRyxLQUFLLEdBQUcsR0FBRztBQUFBLEVBQ3hEO0FBQUEsRUFFUSxJQUFJLE9BQWUsV0FBMkI7QUFDcEQsUUFBSSxjQUFjLEdBQUksUUFBTztBQUM3QixRQUFJLFNBQVMsS0FBSyxTQUFTLElBQUksU0FBUztBQUN4QyxRQUFJLFdBQVcsUUFBVztBQUN4QixZQUFNLE9BQ0osK0JBQ0csS0FBSyxVQUFVLFFBQVEsa0NBQWtDLEVBQUUsQ0FBQyxJQUFJLENBQUMsR0FDaEUsWUFBWSxLQUFLO0FBQ3ZCLFlBQU0sUUFBUSxJQUFJLElBQUksS0FBSyxTQUFTLE9BQU8sQ0FBQztBQUM1QyxlQUFTLGNBQWMsS0FBSyxJQUFJLElBQUksT0FBTztBQUMzQyxlQUFTLFFBQVEsR0FBRyxNQUFNLElBQUksTUFBTSxHQUFHLFNBQVMsRUFBRyxVQUFTLEdBQUcsSUFBSSxHQUFHLEtBQUs7QUFDM0UsV0FBSyxTQUFTLElBQUksV0FBVyxNQUFNO0FBQUEsSUFDckM7QUFDQSxXQUFPLEdBQUcsTUFBTSxJQUFJLEtBQUs7QUFBQSxFQUMzQjtBQUFBO0FBQUEsRUFHUSxRQUFRLE9BQW1CLE1BQXlCLFFBQWlCLE9BQXVDO0FBQ2xILFVBQU0sVUFBVSxVQUFVLE9BQU8sS0FBSyxXQUFXO0FBQ2pELFVBQU0sV0FBVyxZQUFZLFNBQVMsS0FBSyxXQUFXO0FBQ3RELFFBQUksU0FBUyxNQUFNLEtBQUssQ0FBQyxTQUFTLE1BQU0sU0FBUyxJQUFJLENBQUMsS0FBSyxLQUFLLFNBQVM7QUFDdkUsYUFBTyxTQUFTLENBQUMsUUFBUSxRQUFRLEtBQUssc0JBQXNCLElBQUksQ0FBQztBQUNuRSxVQUFNLE9BQU8sQ0FBQyxHQUFHLE1BQU0sUUFBUSxLQUFLO0FBQ3BDLFVBQU0sTUFBTSxLQUFLLElBQUksUUFBUSxPQUFPLFFBQVEsU0FBUztBQUNyRCxVQUFNLGFBQWEsU0FBUyxXQUN6QixPQUFPLENBQUMsRUFBRSxTQUFTLE1BQU0sUUFBUSxFQUNqQyxJQUFJLENBQUMsUUFBUTtBQUNaLFlBQU0sRUFBRSxNQUFNLFNBQVMsUUFBUSxNQUFNLElBQUksWUFBWSxLQUFLLEtBQUssV0FBVztBQUMxRSxZQUFNLE9BQWE7QUFBQSxRQUNqQixNQUFNLENBQUMsR0FBRyxNQUFNLElBQUksSUFBSTtBQUFBLFFBQ3hCLE1BQU07QUFBQSxRQUNOO0FBQUEsUUFDQTtBQUFBLFFBQ0EsT0FBTyxJQUFJLFNBQVM7QUFBQSxRQUNwQixTQUFTLElBQUksU0FBUyxJQUFJO0FBQUEsUUFDMUI7QUFBQSxNQUNGO0FBQ0EsWUFBTSxPQUFPLElBQUksWUFBWSxLQUFLLElBQUksSUFBSSxNQUFNLElBQUksU0FBUyxJQUFJLElBQUk7QUFDckUsYUFBTyxJQUFJLElBQUksS0FBSyxLQUFLLE1BQU0sTUFBTSxJQUFJLEtBQUssQ0FBQztBQUFBLElBQ2pELENBQUMsRUFDQSxLQUFLLEVBQUU7QUFDVixVQUFNLE9BQU8sUUFBUSxTQUFTLE1BQU0sUUFBUSxPQUFPLElBQUksZUFBZTtBQUN0RSxRQUFJLENBQUMsU0FBUyxTQUFTO0FBQ3JCLFlBQU0sT0FBYTtBQUFBLFFBQ2pCLE1BQU07QUFBQSxRQUNOLE1BQU0sU0FBUztBQUFBLFFBQ2YsU0FBUyxTQUFTO0FBQUEsUUFDbEIsUUFBUSxTQUFTO0FBQUEsUUFDakIsT0FBTyxRQUFRLFNBQVMsU0FBUztBQUFBLFFBQ2pDLFNBQVMsUUFBUSxTQUFTLFFBQVE7QUFBQSxRQUNsQztBQUFBLE1BQ0Y7QUFDQSxZQUFNLFFBQVEsQ0FBQyxTQUFTLFNBQVMsS0FBSyxLQUFLLEdBQUcsSUFBSSxFQUFFLE9BQU8sT0FBTyxFQUFFLEtBQUssSUFBSTtBQUM3RSxZQUFNLE9BQU8sVUFBVSxNQUFNLENBQUMsU0FBUyxLQUFLLFdBQVcsTUFBTSxXQUFXLE1BQU0sS0FBSyxDQUFDO0FBQ3BGLGFBQU8sQ0FBQyxJQUFJLEdBQUcsR0FBRyxVQUFVLElBQUksS0FBSyxNQUFNLE1BQU0sUUFBUSxLQUFLLENBQUMsS0FBSyxHQUFHLElBQUksSUFBSSxFQUFFO0FBQUEsSUFDbkY7QUFDQSxVQUFNLFNBQVMsQ0FBQyxHQUFHLE9BQU8sR0FBRyxTQUFTLEtBQUs7QUFDM0MsVUFBTSxRQUFRLFNBQVMsVUFBVSxRQUFRLENBQUMsUUFBUSxLQUFLLFNBQVMsS0FBSyxNQUFNLFFBQVEsTUFBTSxDQUFDO0FBQzFGLFFBQUksTUFBTSxXQUFXLEVBQUcsUUFBTyxDQUFDLElBQUksR0FBRyxHQUFHLFVBQVUsSUFBSTtBQUN4RCxXQUFPLENBQUMsSUFBSSxHQUFHLEdBQUcsVUFBVSxJQUFJLFFBQVEsU0FBUyxXQUFXLElBQUksU0FBUyxFQUFFLElBQUksR0FBRyxTQUFTLE9BQU8sQ0FBQyxHQUFHLEtBQUssR0FBRyxHQUFHO0FBQUEsRUFDbkg7QUFBQSxFQUVRLE1BQU0sTUFBWSxPQUFtQztBQUMzRCxXQUFPLFVBQVUsU0FBWSxLQUFLLEtBQUssSUFBSSxJQUFJLFFBQVEsS0FBSztBQUFBLEVBQzlEO0FBQUEsRUFFUSxTQUNOLFVBQ0EsTUFDQSxRQUNBLE9BQ1U7QUFDVixRQUFJLFNBQVMsT0FBTyxNQUFPLFFBQU8sU0FBUyxDQUFDLHFDQUFxQyxJQUFJLENBQUM7QUFDdEYsUUFBSSxTQUFTLE9BQU87QUFDbEIsYUFBTyxLQUFLO0FBQUEsUUFBTyxTQUFTLFFBQVEsUUFBUTtBQUFBLFFBQUc7QUFBQSxRQUFRO0FBQUEsUUFBWSxDQUFDLE9BQ2xFLEtBQUssUUFBUSxTQUFTLFNBQVMsTUFBTSxJQUFJLEtBQUs7QUFBQSxNQUNoRDtBQUNGLFFBQUksU0FBUyxPQUFPLFVBQVU7QUFDNUIsYUFBTyxLQUFLO0FBQUEsUUFBTyxTQUFTLFFBQVE7QUFBQSxRQUFHO0FBQUEsUUFBUTtBQUFBLFFBQVksQ0FBQyxPQUMxRCxTQUFTLE1BQU0sUUFBUSxDQUFDLFFBQVEsS0FBSyxTQUFTLEtBQUssTUFBTSxJQUFJLEtBQUssQ0FBQztBQUFBLE1BQ3JFO0FBQUEsSUFDRjtBQUNBLFVBQU0sQ0FBQyxPQUFPLEdBQUcsTUFBTSxJQUFJLFNBQVM7QUFDcEMsUUFBSSxDQUFDLE1BQU8sUUFBTyxDQUFDO0FBQ3BCLFdBQU87QUFBQSxNQUNMLEdBQUcsS0FBSyxPQUFPLFNBQVMsUUFBUSxHQUFHLFFBQVEsWUFBWSxDQUFDLE9BQU8sS0FBSyxNQUFNLE9BQU8sTUFBTSxJQUFJLEtBQUssQ0FBQztBQUFBLE1BQ2pHLEdBQUksU0FDQSxPQUFPLFFBQVEsQ0FBQyxRQUFRLEtBQUssT0FBTyxPQUFPLE1BQU0sTUFBTSxDQUFDLE9BQU8sS0FBSyxNQUFNLEtBQUssTUFBTSxJQUFJLEtBQUssQ0FBQyxDQUFDLElBQ2hHLENBQUM7QUFBQSxJQUNQO0FBQUEsRUFDRjtBQUFBO0FBQUEsRUFHUSxNQUFNLFVBQW9CLE1BQXlCLFFBQWlCLE9BQXVDO0FBQ2pILFdBQU8sU0FBUyxPQUFPLFlBQ25CLEtBQUssUUFBUSxTQUFTLFNBQVMsTUFBTSxRQUFRLEtBQUssSUFDbEQsS0FBSyxTQUFTLFVBQVUsTUFBTSxRQUFRLEtBQUs7QUFBQSxFQUNqRDtBQUFBO0FBQUEsRUFHUSxPQUFPLFVBQW1CLFFBQWlCLE1BQWMsT0FBZ0Q7QUFDL0csUUFBSSxZQUFZLENBQUMsT0FBUSxRQUFPLE1BQU0sTUFBTTtBQUM1QyxVQUFNLFFBQVEsTUFBTSxLQUFLO0FBQ3pCLFFBQUksTUFBTSxXQUFXLEVBQUcsUUFBTyxDQUFDO0FBQ2hDLFFBQUksTUFBTSxXQUFXLEVBQUcsUUFBTyxDQUFDLFFBQVEsSUFBSSxLQUFLLE1BQU0sQ0FBQyxDQUFDLE1BQU07QUFDL0QsV0FBTyxDQUFDLFFBQVEsSUFBSSxLQUFLLEdBQUcsU0FBUyxPQUFPLENBQUMsR0FBRyxLQUFLO0FBQUEsRUFDdkQ7QUFDRjsiLAogICJuYW1lcyI6IFtdCn0K
