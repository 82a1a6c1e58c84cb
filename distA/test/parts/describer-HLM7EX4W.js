import {
  elementOf,
  globalElement,
  localName,
  resolveType,
  sampleEnvelope
} from "./chunk-2QSPZIQJ.js";
import "./chunk-LWESV2NC.js";
import "./chunk-VDPV4SN2.js";

// src/core/documentation/wsdl/fields.ts
var deepest = 10;
function elementField(given, definitions, above = [], depth = 0) {
  const element = elementOf(given, definitions);
  const resolved = resolveType(element, definitions);
  const again = resolved.names.find((name) => above.includes(name));
  const fields = again === void 0 && depth < deepest ? membersOf(resolved, definitions, [...above, ...resolved.names], depth + 1) : [];
  const many = element.most === -1 || element.most > 1;
  const about = element.about ?? resolved.about;
  const allowed = element.fixed !== void 0 ? [element.fixed] : resolved.allowed;
  const limits = {
    ...resolved.limits,
    ...many && element.least > 1 && { "least-items": element.least },
    ...element.most > 1 && { "most-items": element.most }
  };
  const text = `${resolved.text}${element.nillable ? " or null" : ""}`;
  return {
    name: element.local,
    type: many ? `array of ${text}` : text,
    required: element.least > 0,
    ...about !== void 0 && { description: about },
    ...element.default !== void 0 && { default: element.default },
    ...allowed && { allowed },
    ...Object.keys(limits).length > 0 && { limits },
    ...fields.length > 0 && { fields },
    ...again !== void 0 && { recursive: localName(again) }
  };
}
function membersOf(resolved, definitions, above, depth) {
  const attributes = resolved.attributes.map((attribute) => {
    const { text, allowed, limits, about } = resolveType(attribute, definitions);
    const said = attribute.about ?? about;
    return {
      name: `@${attribute.name}`,
      type: text,
      required: attribute.required,
      ...said !== void 0 && { description: said },
      ...attribute.default !== void 0 && { default: attribute.default },
      ...allowed && { allowed },
      ...limits && Object.keys(limits).length > 0 && { limits }
    };
  });
  return [...attributes, ...resolved.particles.flatMap((one) => particleFields(one, definitions, above, depth))];
}
function particleFields(particle, definitions, above, depth) {
  if (particle.is === "any") return [{ name: "(any element)", type: "any", required: particle.least > 0 }];
  if (particle.is === "element") return [elementField(particle.element, definitions, above, depth)];
  const fields = particle.items.flatMap((one) => particleFields(one, definitions, above, depth));
  const names = fields.map(({ name }) => name).join(", ");
  const repeats = particle.most === -1 || particle.most > 1;
  return fields.map((field) => {
    const one = particle.is === "choice" && fields.length > 1 ? `One of ${names}.` : void 0;
    const about = [field.description, one].filter(Boolean).join(" ");
    return {
      ...field,
      required: field.required && particle.least > 0 && particle.is !== "choice",
      ...repeats && !field.type.startsWith("array") && { type: `array of ${field.type}` },
      ...about !== "" && { description: about }
    };
  });
}

// src/core/documentation/wsdl/describe.ts
function describeSoapOperation(entry, source, definitions) {
  const own = entry.own;
  const { service, port, operation, version, style, use, action, address, input, output, faults, about } = own;
  const type = version === "1.1" ? "text/xml" : "application/soap+xml";
  const content = (parts) => ({
    type,
    fields: partFields(parts, definitions),
    documentedExample: false
  });
  const answers = [
    ...output ? [{ status: "200", description: "The answer", content: content(output.parts), headers: [] }] : [{ status: "202", description: "Taken; there is no answer", headers: [] }],
    ...faults.map((fault) => ({
      status: "500",
      description: `Fault ${fault.name}`,
      content: content(fault.parts),
      headers: []
    }))
  ];
  return {
    id: entry.id,
    source,
    protocol: "soap",
    group: entry.group,
    ...entry.summary !== void 0 && { summary: entry.summary },
    ...about !== void 0 && { description: about },
    method: entry.method,
    path: operation,
    deprecated: false,
    changes: !/^(?:get|list|find|show|search|read|query|check|count|status|lookup)/i.test(operation),
    soap: {
      service,
      port,
      operation,
      version,
      style,
      use,
      action,
      address,
      envelope: sampleEnvelope(own, definitions)
    },
    parameters: partFields(input.headers, definitions).map((field) => ({ ...field, in: "envelope" })),
    body: { ...content(input.parts), required: true, otherTypes: [] },
    answers,
    security: []
  };
}
function partFields(parts, definitions) {
  return parts.map((part) => {
    const element = part.element === void 0 ? void 0 : globalElement(part.element, definitions);
    if (element) return { ...elementField(element, definitions), required: true };
    const known = part.type === void 0 ? {} : { type: part.type };
    return elementField({ local: part.name, namespace: "", least: 1, most: 1, ...known }, definitions);
  });
}
function describeXsdType(name, key, definitions) {
  const clark = key.slice("type ".length);
  const resolved = resolveType({ type: clark }, definitions);
  return {
    name,
    kind: resolved.allowed ? "enumeration" : resolved.text,
    ...resolved.about !== void 0 && { description: resolved.about },
    fields: membersOf(resolved, definitions, resolved.names, 1),
    ...resolved.allowed && { allowed: resolved.allowed }
  };
}
function searchableSoap(entry, definitions) {
  const { input, output, about = "", action } = entry.own;
  const fields = [];
  const texts = [about, action];
  const add = (list, above) => {
    for (const field of list) {
      if (fields.length > 120) return;
      fields.push(`${above}${field.name}`);
      if (field.description !== void 0) texts.push(field.description);
      add(field.fields ?? [], `${field.name}.`);
    }
  };
  add(partFields([...input.headers, ...input.parts, ...output?.parts ?? []], definitions), "");
  return { fields, description: texts.join(" ") };
}

// src/core/documentation/wsdl/describer.ts
var describer = {
  describe: describeSoapOperation,
  describeType: describeXsdType,
  searchable: searchableSoap
};
export {
  describer
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi93c2RsL2ZpZWxkcy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9kb2N1bWVudGF0aW9uL3dzZGwvZGVzY3JpYmUudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi93c2RsL2Rlc2NyaWJlci50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIEVsZW1lbnRzIGFuZCB0eXBlcyBvZiBYTUwgU2NoZW1hIGFzIGZpZWxkcyBmb3IgcGVvcGxlLiAqL1xuaW1wb3J0IHR5cGUgeyBEZWZpbml0aW9ucywgRmllbGQsIExpbWl0cyB9IGZyb20gJy4uL21vZGVsLmpzJztcbmltcG9ydCB0eXBlIHsgQ2xhcmtOYW1lLCBQYXJ0aWNsZSwgWHNkRWxlbWVudCB9IGZyb20gJy4vbW9kZWwuanMnO1xuaW1wb3J0IHsgZWxlbWVudE9mLCBsb2NhbE5hbWUsIHR5cGUgUmVzb2x2ZWRUeXBlLCByZXNvbHZlVHlwZSB9IGZyb20gJy4vcmVzb2x2ZS10eXBlLmpzJztcblxuY29uc3QgZGVlcGVzdCA9IDEwO1xuXG5leHBvcnQgZnVuY3Rpb24gZWxlbWVudEZpZWxkKFxuICBnaXZlbjogWHNkRWxlbWVudCxcbiAgZGVmaW5pdGlvbnM6IERlZmluaXRpb25zLFxuICBhYm92ZTogcmVhZG9ubHkgQ2xhcmtOYW1lW10gPSBbXSxcbiAgZGVwdGggPSAwLFxuKTogRmllbGQge1xuICBjb25zdCBlbGVtZW50ID0gZWxlbWVudE9mKGdpdmVuLCBkZWZpbml0aW9ucyk7XG4gIGNvbnN0IHJlc29sdmVkID0gcmVzb2x2ZVR5cGUoZWxlbWVudCwgZGVmaW5pdGlvbnMpO1xuICBjb25zdCBhZ2FpbiA9IHJlc29sdmVkLm5hbWVzLmZpbmQoKG5hbWUpID0+IGFib3ZlLmluY2x1ZGVzKG5hbWUpKTtcbiAgY29uc3QgZmllbGRzID1cbiAgICBhZ2FpbiA9PT0gdW5kZWZpbmVkICYmIGRlcHRoIDwgZGVlcGVzdFxuICAgICAgPyBtZW1iZXJzT2YocmVzb2x2ZWQsIGRlZmluaXRpb25zLCBbLi4uYWJvdmUsIC4uLnJlc29sdmVkLm5hbWVzXSwgZGVwdGggKyAxKVxuICAgICAgOiBbXTtcbiAgY29uc3QgbWFueSA9IGVsZW1lbnQubW9zdCA9PT0gLTEgfHwgZWxlbWVudC5tb3N0ID4gMTtcbiAgY29uc3QgYWJvdXQgPSBlbGVtZW50LmFib3V0ID8/IHJlc29sdmVkLmFib3V0O1xuICBjb25zdCBhbGxvd2VkID0gZWxlbWVudC5maXhlZCAhPT0gdW5kZWZpbmVkID8gW2VsZW1lbnQuZml4ZWRdIDogcmVzb2x2ZWQuYWxsb3dlZDtcbiAgY29uc3QgbGltaXRzOiBMaW1pdHMgPSB7XG4gICAgLi4ucmVzb2x2ZWQubGltaXRzLFxuICAgIC4uLihtYW55ICYmIGVsZW1lbnQubGVhc3QgPiAxICYmIHsgJ2xlYXN0LWl0ZW1zJzogZWxlbWVudC5sZWFzdCB9KSxcbiAgICAuLi4oZWxlbWVudC5tb3N0ID4gMSAmJiB7ICdtb3N0LWl0ZW1zJzogZWxlbWVudC5tb3N0IH0pLFxuICB9O1xuICBjb25zdCB0ZXh0ID0gYCR7cmVzb2x2ZWQudGV4dH0ke2VsZW1lbnQubmlsbGFibGUgPyAnIG9yIG51bGwnIDogJyd9YDtcbiAgcmV0dXJuIHtcbiAgICBuYW1lOiBlbGVtZW50LmxvY2FsLFxuICAgIHR5cGU6IG1hbnkgPyBgYXJyYXkgb2YgJHt0ZXh0fWAgOiB0ZXh0LFxuICAgIHJlcXVpcmVkOiBlbGVtZW50LmxlYXN0ID4gMCxcbiAgICAuLi4oYWJvdXQgIT09IHVuZGVmaW5lZCAmJiB7IGRlc2NyaXB0aW9uOiBhYm91dCB9KSxcbiAgICAuLi4oZWxlbWVudC5kZWZhdWx0ICE9PSB1bmRlZmluZWQgJiYgeyBkZWZhdWx0OiBlbGVtZW50LmRlZmF1bHQgfSksXG4gICAgLi4uKGFsbG93ZWQgJiYgeyBhbGxvd2VkIH0pLFxuICAgIC4uLihPYmplY3Qua2V5cyhsaW1pdHMpLmxlbmd0aCA+IDAgJiYgeyBsaW1pdHMgfSksXG4gICAgLi4uKGZpZWxkcy5sZW5ndGggPiAwICYmIHsgZmllbGRzIH0pLFxuICAgIC4uLihhZ2FpbiAhPT0gdW5kZWZpbmVkICYmIHsgcmVjdXJzaXZlOiBsb2NhbE5hbWUoYWdhaW4pIH0pLFxuICB9O1xufVxuXG5leHBvcnQgZnVuY3Rpb24gbWVtYmVyc09mKFxuICByZXNvbHZlZDogUmVzb2x2ZWRUeXBlLFxuICBkZWZpbml0aW9uczogRGVmaW5pdGlvbnMsXG4gIGFib3ZlOiByZWFkb25seSBDbGFya05hbWVbXSxcbiAgZGVwdGg6IG51bWJlcixcbik6IHJlYWRvbmx5IEZpZWxkW10ge1xuICBjb25zdCBhdHRyaWJ1dGVzID0gcmVzb2x2ZWQuYXR0cmlidXRlcy5tYXAoKGF0dHJpYnV0ZSk6IEZpZWxkID0+IHtcbiAgICBjb25zdCB7IHRleHQsIGFsbG93ZWQsIGxpbWl0cywgYWJvdXQgfSA9IHJlc29sdmVUeXBlKGF0dHJpYnV0ZSwgZGVmaW5pdGlvbnMpO1xuICAgIGNvbnN0IHNhaWQgPSBhdHRyaWJ1dGUuYWJvdXQgPz8gYWJvdXQ7XG4gICAgcmV0dXJuIHtcbiAgICAgIG5hbWU6IGBAJHthdHRyaWJ1dGUubmFtZX1gLFxuICAgICAgdHlwZTogdGV4dCxcbiAgICAgIHJlcXVpcmVkOiBhdHRyaWJ1dGUucmVxdWlyZWQsXG4gICAgICAuLi4oc2FpZCAhPT0gdW5kZWZpbmVkICYmIHsgZGVzY3JpcHRpb246IHNhaWQgfSksXG4gICAgICAuLi4oYXR0cmlidXRlLmRlZmF1bHQgIT09IHVuZGVmaW5lZCAmJiB7IGRlZmF1bHQ6IGF0dHJpYnV0ZS5kZWZhdWx0IH0pLFxuICAgICAgLi4uKGFsbG93ZWQgJiYgeyBhbGxvd2VkIH0pLFxuICAgICAgLi4uKGxpbWl0cyAmJiBPYmplY3Qua2V5cyhsaW1pdHMpLmxlbmd0aCA+IDAgJiYgeyBsaW1pdHMgfSksXG4gICAgfTtcbiAgfSk7XG4gIHJldHVybiBbLi4uYXR0cmlidXRlcywgLi4ucmVzb2x2ZWQucGFydGljbGVzLmZsYXRNYXAoKG9uZSkgPT4gcGFydGljbGVGaWVsZHMob25lLCBkZWZpbml0aW9ucywgYWJvdmUsIGRlcHRoKSldO1xufVxuXG5mdW5jdGlvbiBwYXJ0aWNsZUZpZWxkcyhcbiAgcGFydGljbGU6IFBhcnRpY2xlLFxuICBkZWZpbml0aW9uczogRGVmaW5pdGlvbnMsXG4gIGFib3ZlOiByZWFkb25seSBDbGFya05hbWVbXSxcbiAgZGVwdGg6IG51bWJlcixcbik6IEZpZWxkW10ge1xuICBpZiAocGFydGljbGUuaXMgPT09ICdhbnknKSByZXR1cm4gW3sgbmFtZTogJyhhbnkgZWxlbWVudCknLCB0eXBlOiAnYW55JywgcmVxdWlyZWQ6IHBhcnRpY2xlLmxlYXN0ID4gMCB9XTtcbiAgaWYgKHBhcnRpY2xlLmlzID09PSAnZWxlbWVudCcpIHJldHVybiBbZWxlbWVudEZpZWxkKHBhcnRpY2xlLmVsZW1lbnQsIGRlZmluaXRpb25zLCBhYm92ZSwgZGVwdGgpXTtcbiAgY29uc3QgZmllbGRzID0gcGFydGljbGUuaXRlbXMuZmxhdE1hcCgob25lKSA9PiBwYXJ0aWNsZUZpZWxkcyhvbmUsIGRlZmluaXRpb25zLCBhYm92ZSwgZGVwdGgpKTtcbiAgY29uc3QgbmFtZXMgPSBmaWVsZHMubWFwKCh7IG5hbWUgfSkgPT4gbmFtZSkuam9pbignLCAnKTtcbiAgY29uc3QgcmVwZWF0cyA9IHBhcnRpY2xlLm1vc3QgPT09IC0xIHx8IHBhcnRpY2xlLm1vc3QgPiAxO1xuICByZXR1cm4gZmllbGRzLm1hcCgoZmllbGQpID0+IHtcbiAgICBjb25zdCBvbmUgPSBwYXJ0aWNsZS5pcyA9PT0gJ2Nob2ljZScgJiYgZmllbGRzLmxlbmd0aCA+IDEgPyBgT25lIG9mICR7bmFtZXN9LmAgOiB1bmRlZmluZWQ7XG4gICAgY29uc3QgYWJvdXQgPSBbZmllbGQuZGVzY3JpcHRpb24sIG9uZV0uZmlsdGVyKEJvb2xlYW4pLmpvaW4oJyAnKTtcbiAgICByZXR1cm4ge1xuICAgICAgLi4uZmllbGQsXG4gICAgICByZXF1aXJlZDogZmllbGQucmVxdWlyZWQgJiYgcGFydGljbGUubGVhc3QgPiAwICYmIHBhcnRpY2xlLmlzICE9PSAnY2hvaWNlJyxcbiAgICAgIC4uLihyZXBlYXRzICYmICFmaWVsZC50eXBlLnN0YXJ0c1dpdGgoJ2FycmF5JykgJiYgeyB0eXBlOiBgYXJyYXkgb2YgJHtmaWVsZC50eXBlfWAgfSksXG4gICAgICAuLi4oYWJvdXQgIT09ICcnICYmIHsgZGVzY3JpcHRpb246IGFib3V0IH0pLFxuICAgIH07XG4gIH0pO1xufVxuIiwgIi8qKiBPbmUgU09BUCBvcGVyYXRpb24gaW4gZnVsbCwgYW5kIG9uZSB0eXBlIG9mIGl0cyBzY2hlbWFzLiAqL1xuaW1wb3J0IHR5cGUgeyBTZWFyY2hhYmxlIH0gZnJvbSAnLi4vZm9ybWF0LmpzJztcbmltcG9ydCB0eXBlIHsgQW5zd2VyLCBDb250ZW50LCBEZWZpbml0aW9ucywgRmllbGQsIE9wZXJhdGlvbiwgT3BlcmF0aW9uRW50cnksIFR5cGVEZXNjcmlwdGlvbiB9IGZyb20gJy4uL21vZGVsLmpzJztcbmltcG9ydCB7IHNhbXBsZUVudmVsb3BlIH0gZnJvbSAnLi9lbnZlbG9wZS5qcyc7XG5pbXBvcnQgeyBlbGVtZW50RmllbGQsIG1lbWJlcnNPZiB9IGZyb20gJy4vZmllbGRzLmpzJztcbmltcG9ydCB0eXBlIHsgTWVzc2FnZVBhcnQsIE93blNvYXBPcGVyYXRpb24gfSBmcm9tICcuL21vZGVsLmpzJztcbmltcG9ydCB7IGdsb2JhbEVsZW1lbnQsIHJlc29sdmVUeXBlIH0gZnJvbSAnLi9yZXNvbHZlLXR5cGUuanMnO1xuXG5leHBvcnQgZnVuY3Rpb24gZGVzY3JpYmVTb2FwT3BlcmF0aW9uKGVudHJ5OiBPcGVyYXRpb25FbnRyeSwgc291cmNlOiBzdHJpbmcsIGRlZmluaXRpb25zOiBEZWZpbml0aW9ucyk6IE9wZXJhdGlvbiB7XG4gIGNvbnN0IG93biA9IGVudHJ5Lm93biBhcyB1bmtub3duIGFzIE93blNvYXBPcGVyYXRpb247XG4gIGNvbnN0IHsgc2VydmljZSwgcG9ydCwgb3BlcmF0aW9uLCB2ZXJzaW9uLCBzdHlsZSwgdXNlLCBhY3Rpb24sIGFkZHJlc3MsIGlucHV0LCBvdXRwdXQsIGZhdWx0cywgYWJvdXQgfSA9IG93bjtcbiAgY29uc3QgdHlwZSA9IHZlcnNpb24gPT09ICcxLjEnID8gJ3RleHQveG1sJyA6ICdhcHBsaWNhdGlvbi9zb2FwK3htbCc7XG4gIGNvbnN0IGNvbnRlbnQgPSAocGFydHM6IHJlYWRvbmx5IE1lc3NhZ2VQYXJ0W10pOiBDb250ZW50ID0+ICh7XG4gICAgdHlwZSxcbiAgICBmaWVsZHM6IHBhcnRGaWVsZHMocGFydHMsIGRlZmluaXRpb25zKSxcbiAgICBkb2N1bWVudGVkRXhhbXBsZTogZmFsc2UsXG4gIH0pO1xuICBjb25zdCBhbnN3ZXJzOiBBbnN3ZXJbXSA9IFtcbiAgICAuLi4ob3V0cHV0XG4gICAgICA/IFt7IHN0YXR1czogJzIwMCcsIGRlc2NyaXB0aW9uOiAnVGhlIGFuc3dlcicsIGNvbnRlbnQ6IGNvbnRlbnQob3V0cHV0LnBhcnRzKSwgaGVhZGVyczogW10gfV1cbiAgICAgIDogW3sgc3RhdHVzOiAnMjAyJywgZGVzY3JpcHRpb246ICdUYWtlbjsgdGhlcmUgaXMgbm8gYW5zd2VyJywgaGVhZGVyczogW10gfV0pLFxuICAgIC4uLmZhdWx0cy5tYXAoKGZhdWx0KSA9PiAoe1xuICAgICAgc3RhdHVzOiAnNTAwJyxcbiAgICAgIGRlc2NyaXB0aW9uOiBgRmF1bHQgJHtmYXVsdC5uYW1lfWAsXG4gICAgICBjb250ZW50OiBjb250ZW50KGZhdWx0LnBhcnRzKSxcbiAgICAgIGhlYWRlcnM6IFtdLFxuICAgIH0pKSxcbiAgXTtcbiAgcmV0dXJuIHtcbiAgICBpZDogZW50cnkuaWQsXG4gICAgc291cmNlLFxuICAgIHByb3RvY29sOiAnc29hcCcsXG4gICAgZ3JvdXA6IGVudHJ5Lmdyb3VwLFxuICAgIC4uLihlbnRyeS5zdW1tYXJ5ICE9PSB1bmRlZmluZWQgJiYgeyBzdW1tYXJ5OiBlbnRyeS5zdW1tYXJ5IH0pLFxuICAgIC4uLihhYm91dCAhPT0gdW5kZWZpbmVkICYmIHsgZGVzY3JpcHRpb246IGFib3V0IH0pLFxuICAgIG1ldGhvZDogZW50cnkubWV0aG9kLFxuICAgIHBhdGg6IG9wZXJhdGlvbixcbiAgICBkZXByZWNhdGVkOiBmYWxzZSxcbiAgICBjaGFuZ2VzOiAhL14oPzpnZXR8bGlzdHxmaW5kfHNob3d8c2VhcmNofHJlYWR8cXVlcnl8Y2hlY2t8Y291bnR8c3RhdHVzfGxvb2t1cCkvaS50ZXN0KG9wZXJhdGlvbiksXG4gICAgc29hcDoge1xuICAgICAgc2VydmljZSxcbiAgICAgIHBvcnQsXG4gICAgICBvcGVyYXRpb24sXG4gICAgICB2ZXJzaW9uLFxuICAgICAgc3R5bGUsXG4gICAgICB1c2UsXG4gICAgICBhY3Rpb24sXG4gICAgICBhZGRyZXNzLFxuICAgICAgZW52ZWxvcGU6IHNhbXBsZUVudmVsb3BlKG93biwgZGVmaW5pdGlvbnMpLFxuICAgIH0sXG4gICAgcGFyYW1ldGVyczogcGFydEZpZWxkcyhpbnB1dC5oZWFkZXJzLCBkZWZpbml0aW9ucykubWFwKChmaWVsZCkgPT4gKHsgLi4uZmllbGQsIGluOiAnZW52ZWxvcGUnIGFzIGNvbnN0IH0pKSxcbiAgICBib2R5OiB7IC4uLmNvbnRlbnQoaW5wdXQucGFydHMpLCByZXF1aXJlZDogdHJ1ZSwgb3RoZXJUeXBlczogW10gfSxcbiAgICBhbnN3ZXJzLFxuICAgIHNlY3VyaXR5OiBbXSxcbiAgfTtcbn1cblxuLyoqIFRoZSBtZW1iZXJzIG9mIGEgd3JhcHBlciBlbGVtZW50IHN0YW5kIGZvciB0aGVtc2VsdmVzOyBldmVyeSBvdGhlciBwYXJ0IGlzIGEgZmllbGQgb2YgaXRzIG93bi4gKi9cbmZ1bmN0aW9uIHBhcnRGaWVsZHMocGFydHM6IHJlYWRvbmx5IE1lc3NhZ2VQYXJ0W10sIGRlZmluaXRpb25zOiBEZWZpbml0aW9ucyk6IHJlYWRvbmx5IEZpZWxkW10ge1xuICByZXR1cm4gcGFydHMubWFwKChwYXJ0KSA9PiB7XG4gICAgY29uc3QgZWxlbWVudCA9IHBhcnQuZWxlbWVudCA9PT0gdW5kZWZpbmVkID8gdW5kZWZpbmVkIDogZ2xvYmFsRWxlbWVudChwYXJ0LmVsZW1lbnQsIGRlZmluaXRpb25zKTtcbiAgICBpZiAoZWxlbWVudCkgcmV0dXJuIHsgLi4uZWxlbWVudEZpZWxkKGVsZW1lbnQsIGRlZmluaXRpb25zKSwgcmVxdWlyZWQ6IHRydWUgfTtcbiAgICBjb25zdCBrbm93biA9IHBhcnQudHlwZSA9PT0gdW5kZWZpbmVkID8ge30gOiB7IHR5cGU6IHBhcnQudHlwZSB9O1xuICAgIHJldHVybiBlbGVtZW50RmllbGQoeyBsb2NhbDogcGFydC5uYW1lLCBuYW1lc3BhY2U6ICcnLCBsZWFzdDogMSwgbW9zdDogMSwgLi4ua25vd24gfSwgZGVmaW5pdGlvbnMpO1xuICB9KTtcbn1cblxuZXhwb3J0IGZ1bmN0aW9uIGRlc2NyaWJlWHNkVHlwZShuYW1lOiBzdHJpbmcsIGtleTogc3RyaW5nLCBkZWZpbml0aW9uczogRGVmaW5pdGlvbnMpOiBUeXBlRGVzY3JpcHRpb24ge1xuICBjb25zdCBjbGFyayA9IGtleS5zbGljZSgndHlwZSAnLmxlbmd0aCk7XG4gIGNvbnN0IHJlc29sdmVkID0gcmVzb2x2ZVR5cGUoeyB0eXBlOiBjbGFyayB9LCBkZWZpbml0aW9ucyk7XG4gIHJldHVybiB7XG4gICAgbmFtZSxcbiAgICBraW5kOiByZXNvbHZlZC5hbGxvd2VkID8gJ2VudW1lcmF0aW9uJyA6IHJlc29sdmVkLnRleHQsXG4gICAgLi4uKHJlc29sdmVkLmFib3V0ICE9PSB1bmRlZmluZWQgJiYgeyBkZXNjcmlwdGlvbjogcmVzb2x2ZWQuYWJvdXQgfSksXG4gICAgZmllbGRzOiBtZW1iZXJzT2YocmVzb2x2ZWQsIGRlZmluaXRpb25zLCByZXNvbHZlZC5uYW1lcywgMSksXG4gICAgLi4uKHJlc29sdmVkLmFsbG93ZWQgJiYgeyBhbGxvd2VkOiByZXNvbHZlZC5hbGxvd2VkIH0pLFxuICB9O1xufVxuXG5leHBvcnQgZnVuY3Rpb24gc2VhcmNoYWJsZVNvYXAoZW50cnk6IE9wZXJhdGlvbkVudHJ5LCBkZWZpbml0aW9uczogRGVmaW5pdGlvbnMpOiBTZWFyY2hhYmxlIHtcbiAgY29uc3QgeyBpbnB1dCwgb3V0cHV0LCBhYm91dCA9ICcnLCBhY3Rpb24gfSA9IGVudHJ5Lm93biBhcyB1bmtub3duIGFzIE93blNvYXBPcGVyYXRpb247XG4gIGNvbnN0IGZpZWxkczogc3RyaW5nW10gPSBbXTtcbiAgY29uc3QgdGV4dHMgPSBbYWJvdXQsIGFjdGlvbl07XG4gIGNvbnN0IGFkZCA9IChsaXN0OiByZWFkb25seSBGaWVsZFtdLCBhYm92ZTogc3RyaW5nKTogdm9pZCA9PiB7XG4gICAgZm9yIChjb25zdCBmaWVsZCBvZiBsaXN0KSB7XG4gICAgICBpZiAoZmllbGRzLmxlbmd0aCA+IDEyMCkgcmV0dXJuO1xuICAgICAgZmllbGRzLnB1c2goYCR7YWJvdmV9JHtmaWVsZC5uYW1lfWApO1xuICAgICAgaWYgKGZpZWxkLmRlc2NyaXB0aW9uICE9PSB1bmRlZmluZWQpIHRleHRzLnB1c2goZmllbGQuZGVzY3JpcHRpb24pO1xuICAgICAgYWRkKGZpZWxkLmZpZWxkcyA/PyBbXSwgYCR7ZmllbGQubmFtZX0uYCk7XG4gICAgfVxuICB9O1xuICBhZGQocGFydEZpZWxkcyhbLi4uaW5wdXQuaGVhZGVycywgLi4uaW5wdXQucGFydHMsIC4uLihvdXRwdXQ/LnBhcnRzID8/IFtdKV0sIGRlZmluaXRpb25zKSwgJycpO1xuICByZXR1cm4geyBmaWVsZHMsIGRlc2NyaXB0aW9uOiB0ZXh0cy5qb2luKCcgJykgfTtcbn1cbiIsICIvKiogV2hhdCBkZXNjcmliZXMgdGhlIG9wZXJhdGlvbnMgb2YgV1NETCBmcm9tIHRoZSBpbmRleC4gKi9cbmltcG9ydCB0eXBlIHsgRGVzY3JpYmVyIH0gZnJvbSAnLi4vZm9ybWF0LmpzJztcbmltcG9ydCB7IGRlc2NyaWJlU29hcE9wZXJhdGlvbiwgZGVzY3JpYmVYc2RUeXBlLCBzZWFyY2hhYmxlU29hcCB9IGZyb20gJy4vZGVzY3JpYmUuanMnO1xuXG5leHBvcnQgY29uc3QgZGVzY3JpYmVyOiBEZXNjcmliZXIgPSB7XG4gIGRlc2NyaWJlOiBkZXNjcmliZVNvYXBPcGVyYXRpb24sXG4gIGRlc2NyaWJlVHlwZTogZGVzY3JpYmVYc2RUeXBlLFxuICBzZWFyY2hhYmxlOiBzZWFyY2hhYmxlU29hcCxcbn07XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7OztBQUtBLElBQU0sVUFBVTtBQUVULFNBQVMsYUFDZCxPQUNBLGFBQ0EsUUFBOEIsQ0FBQyxHQUMvQixRQUFRLEdBQ0Q7QUFDUCxRQUFNLFVBQVUsVUFBVSxPQUFPLFdBQVc7QUFDNUMsUUFBTSxXQUFXLFlBQVksU0FBUyxXQUFXO0FBQ2pELFFBQU0sUUFBUSxTQUFTLE1BQU0sS0FBSyxDQUFDLFNBQVMsTUFBTSxTQUFTLElBQUksQ0FBQztBQUNoRSxRQUFNLFNBQ0osVUFBVSxVQUFhLFFBQVEsVUFDM0IsVUFBVSxVQUFVLGFBQWEsQ0FBQyxHQUFHLE9BQU8sR0FBRyxTQUFTLEtBQUssR0FBRyxRQUFRLENBQUMsSUFDekUsQ0FBQztBQUNQLFFBQU0sT0FBTyxRQUFRLFNBQVMsTUFBTSxRQUFRLE9BQU87QUFDbkQsUUFBTSxRQUFRLFFBQVEsU0FBUyxTQUFTO0FBQ3hDLFFBQU0sVUFBVSxRQUFRLFVBQVUsU0FBWSxDQUFDLFFBQVEsS0FBSyxJQUFJLFNBQVM7QUFDekUsUUFBTSxTQUFpQjtBQUFBLElBQ3JCLEdBQUcsU0FBUztBQUFBLElBQ1osR0FBSSxRQUFRLFFBQVEsUUFBUSxLQUFLLEVBQUUsZUFBZSxRQUFRLE1BQU07QUFBQSxJQUNoRSxHQUFJLFFBQVEsT0FBTyxLQUFLLEVBQUUsY0FBYyxRQUFRLEtBQUs7QUFBQSxFQUN2RDtBQUNBLFFBQU0sT0FBTyxHQUFHLFNBQVMsSUFBSSxHQUFHLFFBQVEsV0FBVyxhQUFhLEVBQUU7QUFDbEUsU0FBTztBQUFBLElBQ0wsTUFBTSxRQUFRO0FBQUEsSUFDZCxNQUFNLE9BQU8sWUFBWSxJQUFJLEtBQUs7QUFBQSxJQUNsQyxVQUFVLFFBQVEsUUFBUTtBQUFBLElBQzFCLEdBQUksVUFBVSxVQUFhLEVBQUUsYUFBYSxNQUFNO0FBQUEsSUFDaEQsR0FBSSxRQUFRLFlBQVksVUFBYSxFQUFFLFNBQVMsUUFBUSxRQUFRO0FBQUEsSUFDaEUsR0FBSSxXQUFXLEVBQUUsUUFBUTtBQUFBLElBQ3pCLEdBQUksT0FBTyxLQUFLLE1BQU0sRUFBRSxTQUFTLEtBQUssRUFBRSxPQUFPO0FBQUEsSUFDL0MsR0FBSSxPQUFPLFNBQVMsS0FBSyxFQUFFLE9BQU87QUFBQSxJQUNsQyxHQUFJLFVBQVUsVUFBYSxFQUFFLFdBQVcsVUFBVSxLQUFLLEVBQUU7QUFBQSxFQUMzRDtBQUNGO0FBRU8sU0FBUyxVQUNkLFVBQ0EsYUFDQSxPQUNBLE9BQ2tCO0FBQ2xCLFFBQU0sYUFBYSxTQUFTLFdBQVcsSUFBSSxDQUFDLGNBQXFCO0FBQy9ELFVBQU0sRUFBRSxNQUFNLFNBQVMsUUFBUSxNQUFNLElBQUksWUFBWSxXQUFXLFdBQVc7QUFDM0UsVUFBTSxPQUFPLFVBQVUsU0FBUztBQUNoQyxXQUFPO0FBQUEsTUFDTCxNQUFNLElBQUksVUFBVSxJQUFJO0FBQUEsTUFDeEIsTUFBTTtBQUFBLE1BQ04sVUFBVSxVQUFVO0FBQUEsTUFDcEIsR0FBSSxTQUFTLFVBQWEsRUFBRSxhQUFhLEtBQUs7QUFBQSxNQUM5QyxHQUFJLFVBQVUsWUFBWSxVQUFhLEVBQUUsU0FBUyxVQUFVLFFBQVE7QUFBQSxNQUNwRSxHQUFJLFdBQVcsRUFBRSxRQUFRO0FBQUEsTUFDekIsR0FBSSxVQUFVLE9BQU8sS0FBSyxNQUFNLEVBQUUsU0FBUyxLQUFLLEVBQUUsT0FBTztBQUFBLElBQzNEO0FBQUEsRUFDRixDQUFDO0FBQ0QsU0FBTyxDQUFDLEdBQUcsWUFBWSxHQUFHLFNBQVMsVUFBVSxRQUFRLENBQUMsUUFBUSxlQUFlLEtBQUssYUFBYSxPQUFPLEtBQUssQ0FBQyxDQUFDO0FBQy9HO0FBRUEsU0FBUyxlQUNQLFVBQ0EsYUFDQSxPQUNBLE9BQ1M7QUFDVCxNQUFJLFNBQVMsT0FBTyxNQUFPLFFBQU8sQ0FBQyxFQUFFLE1BQU0saUJBQWlCLE1BQU0sT0FBTyxVQUFVLFNBQVMsUUFBUSxFQUFFLENBQUM7QUFDdkcsTUFBSSxTQUFTLE9BQU8sVUFBVyxRQUFPLENBQUMsYUFBYSxTQUFTLFNBQVMsYUFBYSxPQUFPLEtBQUssQ0FBQztBQUNoRyxRQUFNLFNBQVMsU0FBUyxNQUFNLFFBQVEsQ0FBQyxRQUFRLGVBQWUsS0FBSyxhQUFhLE9BQU8sS0FBSyxDQUFDO0FBQzdGLFFBQU0sUUFBUSxPQUFPLElBQUksQ0FBQyxFQUFFLEtBQUssTUFBTSxJQUFJLEVBQUUsS0FBSyxJQUFJO0FBQ3RELFFBQU0sVUFBVSxTQUFTLFNBQVMsTUFBTSxTQUFTLE9BQU87QUFDeEQsU0FBTyxPQUFPLElBQUksQ0FBQyxVQUFVO0FBQzNCLFVBQU0sTUFBTSxTQUFTLE9BQU8sWUFBWSxPQUFPLFNBQVMsSUFBSSxVQUFVLEtBQUssTUFBTTtBQUNqRixVQUFNLFFBQVEsQ0FBQyxNQUFNLGFBQWEsR0FBRyxFQUFFLE9BQU8sT0FBTyxFQUFFLEtBQUssR0FBRztBQUMvRCxXQUFPO0FBQUEsTUFDTCxHQUFHO0FBQUEsTUFDSCxVQUFVLE1BQU0sWUFBWSxTQUFTLFFBQVEsS0FBSyxTQUFTLE9BQU87QUFBQSxNQUNsRSxHQUFJLFdBQVcsQ0FBQyxNQUFNLEtBQUssV0FBVyxPQUFPLEtBQUssRUFBRSxNQUFNLFlBQVksTUFBTSxJQUFJLEdBQUc7QUFBQSxNQUNuRixHQUFJLFVBQVUsTUFBTSxFQUFFLGFBQWEsTUFBTTtBQUFBLElBQzNDO0FBQUEsRUFDRixDQUFDO0FBQ0g7OztBQzdFTyxTQUFTLHNCQUFzQixPQUF1QixRQUFnQixhQUFxQztBQUNoSCxRQUFNLE1BQU0sTUFBTTtBQUNsQixRQUFNLEVBQUUsU0FBUyxNQUFNLFdBQVcsU0FBUyxPQUFPLEtBQUssUUFBUSxTQUFTLE9BQU8sUUFBUSxRQUFRLE1BQU0sSUFBSTtBQUN6RyxRQUFNLE9BQU8sWUFBWSxRQUFRLGFBQWE7QUFDOUMsUUFBTSxVQUFVLENBQUMsV0FBNEM7QUFBQSxJQUMzRDtBQUFBLElBQ0EsUUFBUSxXQUFXLE9BQU8sV0FBVztBQUFBLElBQ3JDLG1CQUFtQjtBQUFBLEVBQ3JCO0FBQ0EsUUFBTSxVQUFvQjtBQUFBLElBQ3hCLEdBQUksU0FDQSxDQUFDLEVBQUUsUUFBUSxPQUFPLGFBQWEsY0FBYyxTQUFTLFFBQVEsT0FBTyxLQUFLLEdBQUcsU0FBUyxDQUFDLEVBQUUsQ0FBQyxJQUMxRixDQUFDLEVBQUUsUUFBUSxPQUFPLGFBQWEsNkJBQTZCLFNBQVMsQ0FBQyxFQUFFLENBQUM7QUFBQSxJQUM3RSxHQUFHLE9BQU8sSUFBSSxDQUFDLFdBQVc7QUFBQSxNQUN4QixRQUFRO0FBQUEsTUFDUixhQUFhLFNBQVMsTUFBTSxJQUFJO0FBQUEsTUFDaEMsU0FBUyxRQUFRLE1BQU0sS0FBSztBQUFBLE1BQzVCLFNBQVMsQ0FBQztBQUFBLElBQ1osRUFBRTtBQUFBLEVBQ0o7QUFDQSxTQUFPO0FBQUEsSUFDTCxJQUFJLE1BQU07QUFBQSxJQUNWO0FBQUEsSUFDQSxVQUFVO0FBQUEsSUFDVixPQUFPLE1BQU07QUFBQSxJQUNiLEdBQUksTUFBTSxZQUFZLFVBQWEsRUFBRSxTQUFTLE1BQU0sUUFBUTtBQUFBLElBQzVELEdBQUksVUFBVSxVQUFhLEVBQUUsYUFBYSxNQUFNO0FBQUEsSUFDaEQsUUFBUSxNQUFNO0FBQUEsSUFDZCxNQUFNO0FBQUEsSUFDTixZQUFZO0FBQUEsSUFDWixTQUFTLENBQUMsdUVBQXVFLEtBQUssU0FBUztBQUFBLElBQy9GLE1BQU07QUFBQSxNQUNKO0FBQUEsTUFDQTtBQUFBLE1BQ0E7QUFBQSxNQUNBO0FBQUEsTUFDQTtBQUFBLE1BQ0E7QUFBQSxNQUNBO0FBQUEsTUFDQTtBQUFBLE1BQ0EsVUFBVSxlQUFlLEtBQUssV0FBVztBQUFBLElBQzNDO0FBQUEsSUFDQSxZQUFZLFdBQVcsTUFBTSxTQUFTLFdBQVcsRUFBRSxJQUFJLENBQUMsV0FBVyxFQUFFLEdBQUcsT0FBTyxJQUFJLFdBQW9CLEVBQUU7QUFBQSxJQUN6RyxNQUFNLEVBQUUsR0FBRyxRQUFRLE1BQU0sS0FBSyxHQUFHLFVBQVUsTUFBTSxZQUFZLENBQUMsRUFBRTtBQUFBLElBQ2hFO0FBQUEsSUFDQSxVQUFVLENBQUM7QUFBQSxFQUNiO0FBQ0Y7QUFHQSxTQUFTLFdBQVcsT0FBK0IsYUFBNEM7QUFDN0YsU0FBTyxNQUFNLElBQUksQ0FBQyxTQUFTO0FBQ3pCLFVBQU0sVUFBVSxLQUFLLFlBQVksU0FBWSxTQUFZLGNBQWMsS0FBSyxTQUFTLFdBQVc7QUFDaEcsUUFBSSxRQUFTLFFBQU8sRUFBRSxHQUFHLGFBQWEsU0FBUyxXQUFXLEdBQUcsVUFBVSxLQUFLO0FBQzVFLFVBQU0sUUFBUSxLQUFLLFNBQVMsU0FBWSxDQUFDLElBQUksRUFBRSxNQUFNLEtBQUssS0FBSztBQUMvRCxXQUFPLGFBQWEsRUFBRSxPQUFPLEtBQUssTUFBTSxXQUFXLElBQUksT0FBTyxHQUFHLE1BQU0sR0FBRyxHQUFHLE1BQU0sR0FBRyxXQUFXO0FBQUEsRUFDbkcsQ0FBQztBQUNIO0FBRU8sU0FBUyxnQkFBZ0IsTUFBYyxLQUFhLGFBQTJDO0FBQ3BHLFFBQU0sUUFBUSxJQUFJLE1BQU0sUUFBUSxNQUFNO0FBQ3RDLFFBQU0sV0FBVyxZQUFZLEVBQUUsTUFBTSxNQUFNLEdBQUcsV0FBVztBQUN6RCxTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0EsTUFBTSxTQUFTLFVBQVUsZ0JBQWdCLFNBQVM7QUFBQSxJQUNsRCxHQUFJLFNBQVMsVUFBVSxVQUFhLEVBQUUsYUFBYSxTQUFTLE1BQU07QUFBQSxJQUNsRSxRQUFRLFVBQVUsVUFBVSxhQUFhLFNBQVMsT0FBTyxDQUFDO0FBQUEsSUFDMUQsR0FBSSxTQUFTLFdBQVcsRUFBRSxTQUFTLFNBQVMsUUFBUTtBQUFBLEVBQ3REO0FBQ0Y7QUFFTyxTQUFTLGVBQWUsT0FBdUIsYUFBc0M7QUFDMUYsUUFBTSxFQUFFLE9BQU8sUUFBUSxRQUFRLElBQUksT0FBTyxJQUFJLE1BQU07QUFDcEQsUUFBTSxTQUFtQixDQUFDO0FBQzFCLFFBQU0sUUFBUSxDQUFDLE9BQU8sTUFBTTtBQUM1QixRQUFNLE1BQU0sQ0FBQyxNQUF3QixVQUF3QjtBQUMzRCxlQUFXLFNBQVMsTUFBTTtBQUN4QixVQUFJLE9BQU8sU0FBUyxJQUFLO0FBQ3pCLGFBQU8sS0FBSyxHQUFHLEtBQUssR0FBRyxNQUFNLElBQUksRUFBRTtBQUNuQyxVQUFJLE1BQU0sZ0JBQWdCLE9BQVcsT0FBTSxLQUFLLE1BQU0sV0FBVztBQUNqRSxVQUFJLE1BQU0sVUFBVSxDQUFDLEdBQUcsR0FBRyxNQUFNLElBQUksR0FBRztBQUFBLElBQzFDO0FBQUEsRUFDRjtBQUNBLE1BQUksV0FBVyxDQUFDLEdBQUcsTUFBTSxTQUFTLEdBQUcsTUFBTSxPQUFPLEdBQUksUUFBUSxTQUFTLENBQUMsQ0FBRSxHQUFHLFdBQVcsR0FBRyxFQUFFO0FBQzdGLFNBQU8sRUFBRSxRQUFRLGFBQWEsTUFBTSxLQUFLLEdBQUcsRUFBRTtBQUNoRDs7O0FDekZPLElBQU0sWUFBdUI7QUFBQSxFQUNsQyxVQUFVO0FBQUEsRUFDVixjQUFjO0FBQUEsRUFDZCxZQUFZO0FBQ2Q7IiwKICAibmFtZXMiOiBbXQp9Cg==
