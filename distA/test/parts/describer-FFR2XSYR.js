import {
  bareName,
  isRequired,
  typeOf
} from "./chunk-MAUJ5X4J.js";

// src/core/documentation/graphql/describe.ts
var answerDepth = 3;
var inputDepth = 6;
function describeField(entry, source, definitions) {
  const { root, field, endpoint } = entry.own;
  const args = field.args ?? [];
  const answer = membersOf(field.type, definitions, answerDepth, []);
  return {
    id: entry.id,
    source,
    protocol: "graphql",
    group: entry.group,
    ...entry.summary !== void 0 && { summary: entry.summary },
    ...field.description !== void 0 && { description: field.description },
    method: root,
    path: field.name,
    deprecated: field.deprecated !== void 0,
    changes: root === "mutation",
    graphql: {
      root,
      field: field.name,
      returns: field.type,
      arguments: args.map(({ name, type }) => ({ name, type })),
      ...endpoint !== void 0 && { endpoint }
    },
    parameters: args.map((one) => ({ ...inputField(one, definitions, inputDepth, []), in: "argument" })),
    answers: [
      {
        status: "200",
        description: `${field.name}: ${field.type}`,
        content: {
          type: "application/json",
          fields: answer.fields,
          documentedExample: false,
          ...answer.alternatives && { alternatives: answer.alternatives }
        },
        headers: []
      }
    ],
    security: []
  };
}
function inputField(one, definitions, depth, above) {
  const type = typeOf(definitions, bareName(one.type));
  const again = type?.kind === "input" && above.includes(type.name);
  const inner = type?.kind === "input" && !again && depth > 0 ? (type.fields ?? []).map((field) => inputField(field, definitions, depth - 1, [...above, type.name])) : [];
  return {
    ...common(one, definitions),
    required: isRequired(one),
    ...one.default !== void 0 && { default: one.default },
    ...inner.length > 0 && { fields: inner },
    ...again && { recursive: type.name }
  };
}
function outputField(one, definitions, depth, above) {
  const name = bareName(one.type);
  const again = above.includes(name) && typeOf(definitions, name)?.fields !== void 0;
  const { fields, alternatives } = again || depth === 0 ? { fields: [] } : membersOf(one.type, definitions, depth - 1, above);
  return {
    ...common(one, definitions),
    required: one.type.endsWith("!"),
    ...fields.length > 0 && { fields },
    ...alternatives && { alternatives },
    ...again && { recursive: name }
  };
}
function common(one, definitions) {
  const type = typeOf(definitions, bareName(one.type));
  const about = [one.description, one.deprecated !== void 0 && `deprecated: ${one.deprecated}`].filter(Boolean).join(" ");
  return {
    name: one.name,
    type: one.type,
    ...about !== "" && { description: about },
    ...type?.kind === "enumeration" && { allowed: (type.values ?? []).map(({ name }) => name) },
    ...one.deprecated !== void 0 && { deprecated: true }
  };
}
function membersOf(written, definitions, depth, above) {
  const type = typeOf(definitions, bareName(written));
  if (!type) return { fields: [] };
  const inside = [...above, type.name];
  const fields = (type.kind === "input" ? [] : type.fields ?? []).map(
    (field) => outputField(field, definitions, depth, inside)
  );
  if (type.kind !== "union") return { fields };
  return {
    fields,
    alternatives: (type.possible ?? []).map((name) => ({
      name,
      when: `__typename: ${name}`,
      fields: (typeOf(definitions, name)?.fields ?? []).map(
        (field) => outputField(field, definitions, Math.max(0, depth - 1), inside)
      )
    }))
  };
}
function describeGraphqlType(name, key, definitions) {
  const type = typeOf(definitions, key);
  if (!type) return { name, kind: "unknown", fields: [] };
  const about = [
    type.description,
    type.interfaces && `Is a ${type.interfaces.join(", a ")}.`,
    type.kind === "interface" && `Types: ${(type.possible ?? []).join(", ")}.`,
    type.specifiedBy && `Specified by ${type.specifiedBy}`,
    ...(type.values ?? []).flatMap(
      (one) => one.description || one.deprecated ? [
        `${one.name}: ${one.deprecated === void 0 ? "" : `deprecated, ${one.deprecated}. `}${one.description ?? ""}`
      ] : []
    )
  ].filter((text) => typeof text === "string");
  const fields = type.kind === "input" ? (type.fields ?? []).map((field) => inputField(field, definitions, inputDepth, [type.name])) : (type.fields ?? []).map((field) => outputField(field, definitions, 0, [type.name]));
  const { alternatives } = membersOf(name, definitions, 1, []);
  return {
    name,
    kind: type.kind,
    ...about.length > 0 && { description: about.join("\n") },
    fields,
    ...type.values && { allowed: type.values.map((one) => one.name) },
    ...alternatives && { alternatives }
  };
}
function searchableField(entry, definitions) {
  const { field } = entry.own;
  const args = (field.args ?? []).map((one) => ({ ...one, depth: 2 }));
  const returned = bareName(field.type);
  const { fields, description } = membersSaid(args, definitions);
  return {
    fields,
    description: [field.description ?? "", returned, description].join(" "),
    shared: typeOf(definitions, returned)?.fields ? [returned] : []
  };
}
function searchableType(name, definitions) {
  const fields = typeOf(definitions, name)?.fields ?? [];
  return membersSaid(
    fields.map((one) => ({ ...one, depth: 2 })),
    definitions
  );
}
function membersSaid(given, definitions) {
  const names = [];
  const texts = [];
  const add = (written, above, depth) => {
    const type = typeOf(definitions, bareName(written));
    if (depth === 0 || names.length > 120) return;
    for (const inner of type?.fields ?? []) {
      names.push(`${above}${inner.name}`);
      if (inner.description !== void 0 && texts.length < 60) texts.push(inner.description);
      add(inner.type, `${above}${inner.name}.`, depth - 1);
    }
  };
  for (const one of given) {
    names.push(one.name);
    texts.push(one.description ?? "");
    add(one.type, `${one.name}.`, one.depth);
  }
  return { fields: names.slice(0, 120), description: texts.join(" ") };
}

// src/core/documentation/graphql/describer.ts
var describer = {
  describe: describeField,
  describeType: describeGraphqlType,
  searchable: searchableField,
  searchableShared: searchableType
};
export {
  describer
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi9ncmFwaHFsL2Rlc2NyaWJlLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2RvY3VtZW50YXRpb24vZ3JhcGhxbC9kZXNjcmliZXIudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBPbmUgZmllbGQgb2YgYSByb290IHR5cGUgaW4gZnVsbCwgYW5kIG9uZSB0eXBlLiAqL1xuaW1wb3J0IHR5cGUgeyBTZWFyY2hhYmxlIH0gZnJvbSAnLi4vZm9ybWF0LmpzJztcbmltcG9ydCB0eXBlIHtcbiAgQWx0ZXJuYXRpdmUsXG4gIERlZmluaXRpb25zLFxuICBGaWVsZCxcbiAgT3BlcmF0aW9uLFxuICBPcGVyYXRpb25FbnRyeSxcbiAgUGFyYW1ldGVyLFxuICBUeXBlRGVzY3JpcHRpb24sXG59IGZyb20gJy4uL21vZGVsLmpzJztcbmltcG9ydCB7IGJhcmVOYW1lLCBpc1JlcXVpcmVkLCB0eXBlIE93bkZpZWxkLCB0eXBlIFNjaGVtYUFyZ3VtZW50LCB0eXBlIFNjaGVtYUZpZWxkLCB0eXBlT2YgfSBmcm9tICcuL3NjaGVtYS5qcyc7XG5cbi8qKiBMZXZlbHMgb2YgYW4gYW5zd2VyIHRoYXQgYXJlIGxpc3RlZDsgYSB0eXBlIGhhcyBpdHMgb3duIHBhZ2UuICovXG5jb25zdCBhbnN3ZXJEZXB0aCA9IDM7XG5jb25zdCBpbnB1dERlcHRoID0gNjtcblxuZXhwb3J0IGZ1bmN0aW9uIGRlc2NyaWJlRmllbGQoZW50cnk6IE9wZXJhdGlvbkVudHJ5LCBzb3VyY2U6IHN0cmluZywgZGVmaW5pdGlvbnM6IERlZmluaXRpb25zKTogT3BlcmF0aW9uIHtcbiAgY29uc3QgeyByb290LCBmaWVsZCwgZW5kcG9pbnQgfSA9IGVudHJ5Lm93biBhcyB1bmtub3duIGFzIE93bkZpZWxkO1xuICBjb25zdCBhcmdzID0gZmllbGQuYXJncyA/PyBbXTtcbiAgY29uc3QgYW5zd2VyID0gbWVtYmVyc09mKGZpZWxkLnR5cGUsIGRlZmluaXRpb25zLCBhbnN3ZXJEZXB0aCwgW10pO1xuICByZXR1cm4ge1xuICAgIGlkOiBlbnRyeS5pZCxcbiAgICBzb3VyY2UsXG4gICAgcHJvdG9jb2w6ICdncmFwaHFsJyxcbiAgICBncm91cDogZW50cnkuZ3JvdXAsXG4gICAgLi4uKGVudHJ5LnN1bW1hcnkgIT09IHVuZGVmaW5lZCAmJiB7IHN1bW1hcnk6IGVudHJ5LnN1bW1hcnkgfSksXG4gICAgLi4uKGZpZWxkLmRlc2NyaXB0aW9uICE9PSB1bmRlZmluZWQgJiYgeyBkZXNjcmlwdGlvbjogZmllbGQuZGVzY3JpcHRpb24gfSksXG4gICAgbWV0aG9kOiByb290LFxuICAgIHBhdGg6IGZpZWxkLm5hbWUsXG4gICAgZGVwcmVjYXRlZDogZmllbGQuZGVwcmVjYXRlZCAhPT0gdW5kZWZpbmVkLFxuICAgIGNoYW5nZXM6IHJvb3QgPT09ICdtdXRhdGlvbicsXG4gICAgZ3JhcGhxbDoge1xuICAgICAgcm9vdCxcbiAgICAgIGZpZWxkOiBmaWVsZC5uYW1lLFxuICAgICAgcmV0dXJuczogZmllbGQudHlwZSxcbiAgICAgIGFyZ3VtZW50czogYXJncy5tYXAoKHsgbmFtZSwgdHlwZSB9KSA9PiAoeyBuYW1lLCB0eXBlIH0pKSxcbiAgICAgIC4uLihlbmRwb2ludCAhPT0gdW5kZWZpbmVkICYmIHsgZW5kcG9pbnQgfSksXG4gICAgfSxcbiAgICBwYXJhbWV0ZXJzOiBhcmdzLm1hcCgob25lKTogUGFyYW1ldGVyID0+ICh7IC4uLmlucHV0RmllbGQob25lLCBkZWZpbml0aW9ucywgaW5wdXREZXB0aCwgW10pLCBpbjogJ2FyZ3VtZW50JyB9KSksXG4gICAgYW5zd2VyczogW1xuICAgICAge1xuICAgICAgICBzdGF0dXM6ICcyMDAnLFxuICAgICAgICBkZXNjcmlwdGlvbjogYCR7ZmllbGQubmFtZX06ICR7ZmllbGQudHlwZX1gLFxuICAgICAgICBjb250ZW50OiB7XG4gICAgICAgICAgdHlwZTogJ2FwcGxpY2F0aW9uL2pzb24nLFxuICAgICAgICAgIGZpZWxkczogYW5zd2VyLmZpZWxkcyxcbiAgICAgICAgICBkb2N1bWVudGVkRXhhbXBsZTogZmFsc2UsXG4gICAgICAgICAgLi4uKGFuc3dlci5hbHRlcm5hdGl2ZXMgJiYgeyBhbHRlcm5hdGl2ZXM6IGFuc3dlci5hbHRlcm5hdGl2ZXMgfSksXG4gICAgICAgIH0sXG4gICAgICAgIGhlYWRlcnM6IFtdLFxuICAgICAgfSxcbiAgICBdLFxuICAgIHNlY3VyaXR5OiBbXSxcbiAgfTtcbn1cblxuLyoqIEFuIGFyZ3VtZW50LCBvciBhIG1lbWJlciBvZiBhbiBpbnB1dCBvYmplY3QuICovXG5mdW5jdGlvbiBpbnB1dEZpZWxkKG9uZTogU2NoZW1hQXJndW1lbnQsIGRlZmluaXRpb25zOiBEZWZpbml0aW9ucywgZGVwdGg6IG51bWJlciwgYWJvdmU6IHJlYWRvbmx5IHN0cmluZ1tdKTogRmllbGQge1xuICBjb25zdCB0eXBlID0gdHlwZU9mKGRlZmluaXRpb25zLCBiYXJlTmFtZShvbmUudHlwZSkpO1xuICBjb25zdCBhZ2FpbiA9IHR5cGU/LmtpbmQgPT09ICdpbnB1dCcgJiYgYWJvdmUuaW5jbHVkZXModHlwZS5uYW1lKTtcbiAgY29uc3QgaW5uZXIgPVxuICAgIHR5cGU/LmtpbmQgPT09ICdpbnB1dCcgJiYgIWFnYWluICYmIGRlcHRoID4gMFxuICAgICAgPyAodHlwZS5maWVsZHMgPz8gW10pLm1hcCgoZmllbGQpID0+IGlucHV0RmllbGQoZmllbGQsIGRlZmluaXRpb25zLCBkZXB0aCAtIDEsIFsuLi5hYm92ZSwgdHlwZS5uYW1lXSkpXG4gICAgICA6IFtdO1xuICByZXR1cm4ge1xuICAgIC4uLmNvbW1vbihvbmUsIGRlZmluaXRpb25zKSxcbiAgICByZXF1aXJlZDogaXNSZXF1aXJlZChvbmUpLFxuICAgIC4uLihvbmUuZGVmYXVsdCAhPT0gdW5kZWZpbmVkICYmIHsgZGVmYXVsdDogb25lLmRlZmF1bHQgfSksXG4gICAgLi4uKGlubmVyLmxlbmd0aCA+IDAgJiYgeyBmaWVsZHM6IGlubmVyIH0pLFxuICAgIC4uLihhZ2FpbiAmJiB7IHJlY3Vyc2l2ZTogdHlwZS5uYW1lIH0pLFxuICB9O1xufVxuXG5mdW5jdGlvbiBvdXRwdXRGaWVsZChvbmU6IFNjaGVtYUZpZWxkLCBkZWZpbml0aW9uczogRGVmaW5pdGlvbnMsIGRlcHRoOiBudW1iZXIsIGFib3ZlOiByZWFkb25seSBzdHJpbmdbXSk6IEZpZWxkIHtcbiAgY29uc3QgbmFtZSA9IGJhcmVOYW1lKG9uZS50eXBlKTtcbiAgY29uc3QgYWdhaW4gPSBhYm92ZS5pbmNsdWRlcyhuYW1lKSAmJiB0eXBlT2YoZGVmaW5pdGlvbnMsIG5hbWUpPy5maWVsZHMgIT09IHVuZGVmaW5lZDtcbiAgY29uc3QgeyBmaWVsZHMsIGFsdGVybmF0aXZlcyB9ID1cbiAgICBhZ2FpbiB8fCBkZXB0aCA9PT0gMCA/IHsgZmllbGRzOiBbXSB9IDogbWVtYmVyc09mKG9uZS50eXBlLCBkZWZpbml0aW9ucywgZGVwdGggLSAxLCBhYm92ZSk7XG4gIHJldHVybiB7XG4gICAgLi4uY29tbW9uKG9uZSwgZGVmaW5pdGlvbnMpLFxuICAgIHJlcXVpcmVkOiBvbmUudHlwZS5lbmRzV2l0aCgnIScpLFxuICAgIC4uLihmaWVsZHMubGVuZ3RoID4gMCAmJiB7IGZpZWxkcyB9KSxcbiAgICAuLi4oYWx0ZXJuYXRpdmVzICYmIHsgYWx0ZXJuYXRpdmVzIH0pLFxuICAgIC4uLihhZ2FpbiAmJiB7IHJlY3Vyc2l2ZTogbmFtZSB9KSxcbiAgfTtcbn1cblxuZnVuY3Rpb24gY29tbW9uKG9uZTogU2NoZW1hQXJndW1lbnQsIGRlZmluaXRpb25zOiBEZWZpbml0aW9ucyk6IE9taXQ8RmllbGQsICdyZXF1aXJlZCc+IHtcbiAgY29uc3QgdHlwZSA9IHR5cGVPZihkZWZpbml0aW9ucywgYmFyZU5hbWUob25lLnR5cGUpKTtcbiAgY29uc3QgYWJvdXQgPSBbb25lLmRlc2NyaXB0aW9uLCBvbmUuZGVwcmVjYXRlZCAhPT0gdW5kZWZpbmVkICYmIGBkZXByZWNhdGVkOiAke29uZS5kZXByZWNhdGVkfWBdXG4gICAgLmZpbHRlcihCb29sZWFuKVxuICAgIC5qb2luKCcgJyk7XG4gIHJldHVybiB7XG4gICAgbmFtZTogb25lLm5hbWUsXG4gICAgdHlwZTogb25lLnR5cGUsXG4gICAgLi4uKGFib3V0ICE9PSAnJyAmJiB7IGRlc2NyaXB0aW9uOiBhYm91dCB9KSxcbiAgICAuLi4odHlwZT8ua2luZCA9PT0gJ2VudW1lcmF0aW9uJyAmJiB7IGFsbG93ZWQ6ICh0eXBlLnZhbHVlcyA/PyBbXSkubWFwKCh7IG5hbWUgfSkgPT4gbmFtZSkgfSksXG4gICAgLi4uKG9uZS5kZXByZWNhdGVkICE9PSB1bmRlZmluZWQgJiYgeyBkZXByZWNhdGVkOiB0cnVlIH0pLFxuICB9O1xufVxuXG5mdW5jdGlvbiBtZW1iZXJzT2YoXG4gIHdyaXR0ZW46IHN0cmluZyxcbiAgZGVmaW5pdGlvbnM6IERlZmluaXRpb25zLFxuICBkZXB0aDogbnVtYmVyLFxuICBhYm92ZTogcmVhZG9ubHkgc3RyaW5nW10sXG4pOiB7IGZpZWxkczogcmVhZG9ubHkgRmllbGRbXTsgYWx0ZXJuYXRpdmVzPzogcmVhZG9ubHkgQWx0ZXJuYXRpdmVbXSB9IHtcbiAgY29uc3QgdHlwZSA9IHR5cGVPZihkZWZpbml0aW9ucywgYmFyZU5hbWUod3JpdHRlbikpO1xuICBpZiAoIXR5cGUpIHJldHVybiB7IGZpZWxkczogW10gfTtcbiAgY29uc3QgaW5zaWRlID0gWy4uLmFib3ZlLCB0eXBlLm5hbWVdO1xuICBjb25zdCBmaWVsZHMgPSAodHlwZS5raW5kID09PSAnaW5wdXQnID8gW10gOiAodHlwZS5maWVsZHMgPz8gW10pKS5tYXAoKGZpZWxkKSA9PlxuICAgIG91dHB1dEZpZWxkKGZpZWxkLCBkZWZpbml0aW9ucywgZGVwdGgsIGluc2lkZSksXG4gICk7XG4gIGlmICh0eXBlLmtpbmQgIT09ICd1bmlvbicpIHJldHVybiB7IGZpZWxkcyB9O1xuICByZXR1cm4ge1xuICAgIGZpZWxkcyxcbiAgICBhbHRlcm5hdGl2ZXM6ICh0eXBlLnBvc3NpYmxlID8/IFtdKS5tYXAoKG5hbWUpID0+ICh7XG4gICAgICBuYW1lLFxuICAgICAgd2hlbjogYF9fdHlwZW5hbWU6ICR7bmFtZX1gLFxuICAgICAgZmllbGRzOiAodHlwZU9mKGRlZmluaXRpb25zLCBuYW1lKT8uZmllbGRzID8/IFtdKS5tYXAoKGZpZWxkKSA9PlxuICAgICAgICBvdXRwdXRGaWVsZChmaWVsZCwgZGVmaW5pdGlvbnMsIE1hdGgubWF4KDAsIGRlcHRoIC0gMSksIGluc2lkZSksXG4gICAgICApLFxuICAgIH0pKSxcbiAgfTtcbn1cblxuZXhwb3J0IGZ1bmN0aW9uIGRlc2NyaWJlR3JhcGhxbFR5cGUobmFtZTogc3RyaW5nLCBrZXk6IHN0cmluZywgZGVmaW5pdGlvbnM6IERlZmluaXRpb25zKTogVHlwZURlc2NyaXB0aW9uIHtcbiAgY29uc3QgdHlwZSA9IHR5cGVPZihkZWZpbml0aW9ucywga2V5KTtcbiAgaWYgKCF0eXBlKSByZXR1cm4geyBuYW1lLCBraW5kOiAndW5rbm93bicsIGZpZWxkczogW10gfTtcbiAgY29uc3QgYWJvdXQgPSBbXG4gICAgdHlwZS5kZXNjcmlwdGlvbixcbiAgICB0eXBlLmludGVyZmFjZXMgJiYgYElzIGEgJHt0eXBlLmludGVyZmFjZXMuam9pbignLCBhICcpfS5gLFxuICAgIHR5cGUua2luZCA9PT0gJ2ludGVyZmFjZScgJiYgYFR5cGVzOiAkeyh0eXBlLnBvc3NpYmxlID8/IFtdKS5qb2luKCcsICcpfS5gLFxuICAgIHR5cGUuc3BlY2lmaWVkQnkgJiYgYFNwZWNpZmllZCBieSAke3R5cGUuc3BlY2lmaWVkQnl9YCxcbiAgICAuLi4odHlwZS52YWx1ZXMgPz8gW10pLmZsYXRNYXAoKG9uZSkgPT5cbiAgICAgIG9uZS5kZXNjcmlwdGlvbiB8fCBvbmUuZGVwcmVjYXRlZFxuICAgICAgICA/IFtcbiAgICAgICAgICAgIGAke29uZS5uYW1lfTogJHtvbmUuZGVwcmVjYXRlZCA9PT0gdW5kZWZpbmVkID8gJycgOiBgZGVwcmVjYXRlZCwgJHtvbmUuZGVwcmVjYXRlZH0uIGB9JHtvbmUuZGVzY3JpcHRpb24gPz8gJyd9YCxcbiAgICAgICAgICBdXG4gICAgICAgIDogW10sXG4gICAgKSxcbiAgXS5maWx0ZXIoKHRleHQpID0+IHR5cGVvZiB0ZXh0ID09PSAnc3RyaW5nJyk7XG4gIGNvbnN0IGZpZWxkcyA9XG4gICAgdHlwZS5raW5kID09PSAnaW5wdXQnXG4gICAgICA/ICh0eXBlLmZpZWxkcyA/PyBbXSkubWFwKChmaWVsZCkgPT4gaW5wdXRGaWVsZChmaWVsZCwgZGVmaW5pdGlvbnMsIGlucHV0RGVwdGgsIFt0eXBlLm5hbWVdKSlcbiAgICAgIDogKHR5cGUuZmllbGRzID8/IFtdKS5tYXAoKGZpZWxkKSA9PiBvdXRwdXRGaWVsZChmaWVsZCwgZGVmaW5pdGlvbnMsIDAsIFt0eXBlLm5hbWVdKSk7XG4gIGNvbnN0IHsgYWx0ZXJuYXRpdmVzIH0gPSBtZW1iZXJzT2YobmFtZSwgZGVmaW5pdGlvbnMsIDEsIFtdKTtcbiAgcmV0dXJuIHtcbiAgICBuYW1lLFxuICAgIGtpbmQ6IHR5cGUua2luZCxcbiAgICAuLi4oYWJvdXQubGVuZ3RoID4gMCAmJiB7IGRlc2NyaXB0aW9uOiBhYm91dC5qb2luKCdcXG4nKSB9KSxcbiAgICBmaWVsZHMsXG4gICAgLi4uKHR5cGUudmFsdWVzICYmIHsgYWxsb3dlZDogdHlwZS52YWx1ZXMubWFwKChvbmUpID0+IG9uZS5uYW1lKSB9KSxcbiAgICAuLi4oYWx0ZXJuYXRpdmVzICYmIHsgYWx0ZXJuYXRpdmVzIH0pLFxuICB9O1xufVxuXG4vKiogVGhlIGZpZWxkcyBvZiB0aGUgYW5zd2VyIGFyZSB0aG9zZSBvZiBpdHMgdHlwZSwgYW5kIHNoYXJlZC4gKi9cbmV4cG9ydCBmdW5jdGlvbiBzZWFyY2hhYmxlRmllbGQoXG4gIGVudHJ5OiBPcGVyYXRpb25FbnRyeSxcbiAgZGVmaW5pdGlvbnM6IERlZmluaXRpb25zLFxuKTogU2VhcmNoYWJsZSAmIHsgcmVhZG9ubHkgc2hhcmVkOiByZWFkb25seSBzdHJpbmdbXSB9IHtcbiAgY29uc3QgeyBmaWVsZCB9ID0gZW50cnkub3duIGFzIHVua25vd24gYXMgT3duRmllbGQ7XG4gIGNvbnN0IGFyZ3MgPSAoZmllbGQuYXJncyA/PyBbXSkubWFwKChvbmUpID0+ICh7IC4uLm9uZSwgZGVwdGg6IDIgfSkpO1xuICBjb25zdCByZXR1cm5lZCA9IGJhcmVOYW1lKGZpZWxkLnR5cGUpO1xuICBjb25zdCB7IGZpZWxkcywgZGVzY3JpcHRpb24gfSA9IG1lbWJlcnNTYWlkKGFyZ3MsIGRlZmluaXRpb25zKTtcbiAgcmV0dXJuIHtcbiAgICBmaWVsZHMsXG4gICAgZGVzY3JpcHRpb246IFtmaWVsZC5kZXNjcmlwdGlvbiA/PyAnJywgcmV0dXJuZWQsIGRlc2NyaXB0aW9uXS5qb2luKCcgJyksXG4gICAgc2hhcmVkOiB0eXBlT2YoZGVmaW5pdGlvbnMsIHJldHVybmVkKT8uZmllbGRzID8gW3JldHVybmVkXSA6IFtdLFxuICB9O1xufVxuXG5leHBvcnQgZnVuY3Rpb24gc2VhcmNoYWJsZVR5cGUobmFtZTogc3RyaW5nLCBkZWZpbml0aW9uczogRGVmaW5pdGlvbnMpOiBTZWFyY2hhYmxlIHtcbiAgY29uc3QgZmllbGRzID0gdHlwZU9mKGRlZmluaXRpb25zLCBuYW1lKT8uZmllbGRzID8/IFtdO1xuICByZXR1cm4gbWVtYmVyc1NhaWQoXG4gICAgZmllbGRzLm1hcCgob25lKSA9PiAoeyAuLi5vbmUsIGRlcHRoOiAyIH0pKSxcbiAgICBkZWZpbml0aW9ucyxcbiAgKTtcbn1cblxuZnVuY3Rpb24gbWVtYmVyc1NhaWQoXG4gIGdpdmVuOiByZWFkb25seSAoU2NoZW1hQXJndW1lbnQgJiB7IHJlYWRvbmx5IGRlcHRoOiBudW1iZXIgfSlbXSxcbiAgZGVmaW5pdGlvbnM6IERlZmluaXRpb25zLFxuKTogU2VhcmNoYWJsZSB7XG4gIGNvbnN0IG5hbWVzOiBzdHJpbmdbXSA9IFtdO1xuICBjb25zdCB0ZXh0czogc3RyaW5nW10gPSBbXTtcbiAgY29uc3QgYWRkID0gKHdyaXR0ZW46IHN0cmluZywgYWJvdmU6IHN0cmluZywgZGVwdGg6IG51bWJlcik6IHZvaWQgPT4ge1xuICAgIGNvbnN0IHR5cGUgPSB0eXBlT2YoZGVmaW5pdGlvbnMsIGJhcmVOYW1lKHdyaXR0ZW4pKTtcbiAgICBpZiAoZGVwdGggPT09IDAgfHwgbmFtZXMubGVuZ3RoID4gMTIwKSByZXR1cm47XG4gICAgZm9yIChjb25zdCBpbm5lciBvZiB0eXBlPy5maWVsZHMgPz8gW10pIHtcbiAgICAgIG5hbWVzLnB1c2goYCR7YWJvdmV9JHtpbm5lci5uYW1lfWApO1xuICAgICAgaWYgKGlubmVyLmRlc2NyaXB0aW9uICE9PSB1bmRlZmluZWQgJiYgdGV4dHMubGVuZ3RoIDwgNjApIHRleHRzLnB1c2goaW5uZXIuZGVzY3JpcHRpb24pO1xuICAgICAgYWRkKGlubmVyLnR5cGUsIGAke2Fib3ZlfSR7aW5uZXIubmFtZX0uYCwgZGVwdGggLSAxKTtcbiAgICB9XG4gIH07XG4gIGZvciAoY29uc3Qgb25lIG9mIGdpdmVuKSB7XG4gICAgbmFtZXMucHVzaChvbmUubmFtZSk7XG4gICAgdGV4dHMucHVzaChvbmUuZGVzY3JpcHRpb24gPz8gJycpO1xuICAgIGFkZChvbmUudHlwZSwgYCR7b25lLm5hbWV9LmAsIG9uZS5kZXB0aCk7XG4gIH1cbiAgcmV0dXJuIHsgZmllbGRzOiBuYW1lcy5zbGljZSgwLCAxMjApLCBkZXNjcmlwdGlvbjogdGV4dHMuam9pbignICcpIH07XG59XG4iLCAiLyoqIFdoYXQgZGVzY3JpYmVzIHRoZSBvcGVyYXRpb25zIG9mIEdyYXBoUUwgZnJvbSB0aGUgaW5kZXguICovXG5pbXBvcnQgdHlwZSB7IERlc2NyaWJlciB9IGZyb20gJy4uL2Zvcm1hdC5qcyc7XG5pbXBvcnQgeyBkZXNjcmliZUZpZWxkLCBkZXNjcmliZUdyYXBocWxUeXBlLCBzZWFyY2hhYmxlRmllbGQsIHNlYXJjaGFibGVUeXBlIH0gZnJvbSAnLi9kZXNjcmliZS5qcyc7XG5cbmV4cG9ydCBjb25zdCBkZXNjcmliZXI6IERlc2NyaWJlciA9IHtcbiAgZGVzY3JpYmU6IGRlc2NyaWJlRmllbGQsXG4gIGRlc2NyaWJlVHlwZTogZGVzY3JpYmVHcmFwaHFsVHlwZSxcbiAgc2VhcmNoYWJsZTogc2VhcmNoYWJsZUZpZWxkLFxuICBzZWFyY2hhYmxlU2hhcmVkOiBzZWFyY2hhYmxlVHlwZSxcbn07XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7O0FBY0EsSUFBTSxjQUFjO0FBQ3BCLElBQU0sYUFBYTtBQUVaLFNBQVMsY0FBYyxPQUF1QixRQUFnQixhQUFxQztBQUN4RyxRQUFNLEVBQUUsTUFBTSxPQUFPLFNBQVMsSUFBSSxNQUFNO0FBQ3hDLFFBQU0sT0FBTyxNQUFNLFFBQVEsQ0FBQztBQUM1QixRQUFNLFNBQVMsVUFBVSxNQUFNLE1BQU0sYUFBYSxhQUFhLENBQUMsQ0FBQztBQUNqRSxTQUFPO0FBQUEsSUFDTCxJQUFJLE1BQU07QUFBQSxJQUNWO0FBQUEsSUFDQSxVQUFVO0FBQUEsSUFDVixPQUFPLE1BQU07QUFBQSxJQUNiLEdBQUksTUFBTSxZQUFZLFVBQWEsRUFBRSxTQUFTLE1BQU0sUUFBUTtBQUFBLElBQzVELEdBQUksTUFBTSxnQkFBZ0IsVUFBYSxFQUFFLGFBQWEsTUFBTSxZQUFZO0FBQUEsSUFDeEUsUUFBUTtBQUFBLElBQ1IsTUFBTSxNQUFNO0FBQUEsSUFDWixZQUFZLE1BQU0sZUFBZTtBQUFBLElBQ2pDLFNBQVMsU0FBUztBQUFBLElBQ2xCLFNBQVM7QUFBQSxNQUNQO0FBQUEsTUFDQSxPQUFPLE1BQU07QUFBQSxNQUNiLFNBQVMsTUFBTTtBQUFBLE1BQ2YsV0FBVyxLQUFLLElBQUksQ0FBQyxFQUFFLE1BQU0sS0FBSyxPQUFPLEVBQUUsTUFBTSxLQUFLLEVBQUU7QUFBQSxNQUN4RCxHQUFJLGFBQWEsVUFBYSxFQUFFLFNBQVM7QUFBQSxJQUMzQztBQUFBLElBQ0EsWUFBWSxLQUFLLElBQUksQ0FBQyxTQUFvQixFQUFFLEdBQUcsV0FBVyxLQUFLLGFBQWEsWUFBWSxDQUFDLENBQUMsR0FBRyxJQUFJLFdBQVcsRUFBRTtBQUFBLElBQzlHLFNBQVM7QUFBQSxNQUNQO0FBQUEsUUFDRSxRQUFRO0FBQUEsUUFDUixhQUFhLEdBQUcsTUFBTSxJQUFJLEtBQUssTUFBTSxJQUFJO0FBQUEsUUFDekMsU0FBUztBQUFBLFVBQ1AsTUFBTTtBQUFBLFVBQ04sUUFBUSxPQUFPO0FBQUEsVUFDZixtQkFBbUI7QUFBQSxVQUNuQixHQUFJLE9BQU8sZ0JBQWdCLEVBQUUsY0FBYyxPQUFPLGFBQWE7QUFBQSxRQUNqRTtBQUFBLFFBQ0EsU0FBUyxDQUFDO0FBQUEsTUFDWjtBQUFBLElBQ0Y7QUFBQSxJQUNBLFVBQVUsQ0FBQztBQUFBLEVBQ2I7QUFDRjtBQUdBLFNBQVMsV0FBVyxLQUFxQixhQUEwQixPQUFlLE9BQWlDO0FBQ2pILFFBQU0sT0FBTyxPQUFPLGFBQWEsU0FBUyxJQUFJLElBQUksQ0FBQztBQUNuRCxRQUFNLFFBQVEsTUFBTSxTQUFTLFdBQVcsTUFBTSxTQUFTLEtBQUssSUFBSTtBQUNoRSxRQUFNLFFBQ0osTUFBTSxTQUFTLFdBQVcsQ0FBQyxTQUFTLFFBQVEsS0FDdkMsS0FBSyxVQUFVLENBQUMsR0FBRyxJQUFJLENBQUMsVUFBVSxXQUFXLE9BQU8sYUFBYSxRQUFRLEdBQUcsQ0FBQyxHQUFHLE9BQU8sS0FBSyxJQUFJLENBQUMsQ0FBQyxJQUNuRyxDQUFDO0FBQ1AsU0FBTztBQUFBLElBQ0wsR0FBRyxPQUFPLEtBQUssV0FBVztBQUFBLElBQzFCLFVBQVUsV0FBVyxHQUFHO0FBQUEsSUFDeEIsR0FBSSxJQUFJLFlBQVksVUFBYSxFQUFFLFNBQVMsSUFBSSxRQUFRO0FBQUEsSUFDeEQsR0FBSSxNQUFNLFNBQVMsS0FBSyxFQUFFLFFBQVEsTUFBTTtBQUFBLElBQ3hDLEdBQUksU0FBUyxFQUFFLFdBQVcsS0FBSyxLQUFLO0FBQUEsRUFDdEM7QUFDRjtBQUVBLFNBQVMsWUFBWSxLQUFrQixhQUEwQixPQUFlLE9BQWlDO0FBQy9HLFFBQU0sT0FBTyxTQUFTLElBQUksSUFBSTtBQUM5QixRQUFNLFFBQVEsTUFBTSxTQUFTLElBQUksS0FBSyxPQUFPLGFBQWEsSUFBSSxHQUFHLFdBQVc7QUFDNUUsUUFBTSxFQUFFLFFBQVEsYUFBYSxJQUMzQixTQUFTLFVBQVUsSUFBSSxFQUFFLFFBQVEsQ0FBQyxFQUFFLElBQUksVUFBVSxJQUFJLE1BQU0sYUFBYSxRQUFRLEdBQUcsS0FBSztBQUMzRixTQUFPO0FBQUEsSUFDTCxHQUFHLE9BQU8sS0FBSyxXQUFXO0FBQUEsSUFDMUIsVUFBVSxJQUFJLEtBQUssU0FBUyxHQUFHO0FBQUEsSUFDL0IsR0FBSSxPQUFPLFNBQVMsS0FBSyxFQUFFLE9BQU87QUFBQSxJQUNsQyxHQUFJLGdCQUFnQixFQUFFLGFBQWE7QUFBQSxJQUNuQyxHQUFJLFNBQVMsRUFBRSxXQUFXLEtBQUs7QUFBQSxFQUNqQztBQUNGO0FBRUEsU0FBUyxPQUFPLEtBQXFCLGFBQW1EO0FBQ3RGLFFBQU0sT0FBTyxPQUFPLGFBQWEsU0FBUyxJQUFJLElBQUksQ0FBQztBQUNuRCxRQUFNLFFBQVEsQ0FBQyxJQUFJLGFBQWEsSUFBSSxlQUFlLFVBQWEsZUFBZSxJQUFJLFVBQVUsRUFBRSxFQUM1RixPQUFPLE9BQU8sRUFDZCxLQUFLLEdBQUc7QUFDWCxTQUFPO0FBQUEsSUFDTCxNQUFNLElBQUk7QUFBQSxJQUNWLE1BQU0sSUFBSTtBQUFBLElBQ1YsR0FBSSxVQUFVLE1BQU0sRUFBRSxhQUFhLE1BQU07QUFBQSxJQUN6QyxHQUFJLE1BQU0sU0FBUyxpQkFBaUIsRUFBRSxVQUFVLEtBQUssVUFBVSxDQUFDLEdBQUcsSUFBSSxDQUFDLEVBQUUsS0FBSyxNQUFNLElBQUksRUFBRTtBQUFBLElBQzNGLEdBQUksSUFBSSxlQUFlLFVBQWEsRUFBRSxZQUFZLEtBQUs7QUFBQSxFQUN6RDtBQUNGO0FBRUEsU0FBUyxVQUNQLFNBQ0EsYUFDQSxPQUNBLE9BQ3FFO0FBQ3JFLFFBQU0sT0FBTyxPQUFPLGFBQWEsU0FBUyxPQUFPLENBQUM7QUFDbEQsTUFBSSxDQUFDLEtBQU0sUUFBTyxFQUFFLFFBQVEsQ0FBQyxFQUFFO0FBQy9CLFFBQU0sU0FBUyxDQUFDLEdBQUcsT0FBTyxLQUFLLElBQUk7QUFDbkMsUUFBTSxVQUFVLEtBQUssU0FBUyxVQUFVLENBQUMsSUFBSyxLQUFLLFVBQVUsQ0FBQyxHQUFJO0FBQUEsSUFBSSxDQUFDLFVBQ3JFLFlBQVksT0FBTyxhQUFhLE9BQU8sTUFBTTtBQUFBLEVBQy9DO0FBQ0EsTUFBSSxLQUFLLFNBQVMsUUFBUyxRQUFPLEVBQUUsT0FBTztBQUMzQyxTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0EsZUFBZSxLQUFLLFlBQVksQ0FBQyxHQUFHLElBQUksQ0FBQyxVQUFVO0FBQUEsTUFDakQ7QUFBQSxNQUNBLE1BQU0sZUFBZSxJQUFJO0FBQUEsTUFDekIsU0FBUyxPQUFPLGFBQWEsSUFBSSxHQUFHLFVBQVUsQ0FBQyxHQUFHO0FBQUEsUUFBSSxDQUFDLFVBQ3JELFlBQVksT0FBTyxhQUFhLEtBQUssSUFBSSxHQUFHLFFBQVEsQ0FBQyxHQUFHLE1BQU07QUFBQSxNQUNoRTtBQUFBLElBQ0YsRUFBRTtBQUFBLEVBQ0o7QUFDRjtBQUVPLFNBQVMsb0JBQW9CLE1BQWMsS0FBYSxhQUEyQztBQUN4RyxRQUFNLE9BQU8sT0FBTyxhQUFhLEdBQUc7QUFDcEMsTUFBSSxDQUFDLEtBQU0sUUFBTyxFQUFFLE1BQU0sTUFBTSxXQUFXLFFBQVEsQ0FBQyxFQUFFO0FBQ3RELFFBQU0sUUFBUTtBQUFBLElBQ1osS0FBSztBQUFBLElBQ0wsS0FBSyxjQUFjLFFBQVEsS0FBSyxXQUFXLEtBQUssTUFBTSxDQUFDO0FBQUEsSUFDdkQsS0FBSyxTQUFTLGVBQWUsV0FBVyxLQUFLLFlBQVksQ0FBQyxHQUFHLEtBQUssSUFBSSxDQUFDO0FBQUEsSUFDdkUsS0FBSyxlQUFlLGdCQUFnQixLQUFLLFdBQVc7QUFBQSxJQUNwRCxJQUFJLEtBQUssVUFBVSxDQUFDLEdBQUc7QUFBQSxNQUFRLENBQUMsUUFDOUIsSUFBSSxlQUFlLElBQUksYUFDbkI7QUFBQSxRQUNFLEdBQUcsSUFBSSxJQUFJLEtBQUssSUFBSSxlQUFlLFNBQVksS0FBSyxlQUFlLElBQUksVUFBVSxJQUFJLEdBQUcsSUFBSSxlQUFlLEVBQUU7QUFBQSxNQUMvRyxJQUNBLENBQUM7QUFBQSxJQUNQO0FBQUEsRUFDRixFQUFFLE9BQU8sQ0FBQyxTQUFTLE9BQU8sU0FBUyxRQUFRO0FBQzNDLFFBQU0sU0FDSixLQUFLLFNBQVMsV0FDVCxLQUFLLFVBQVUsQ0FBQyxHQUFHLElBQUksQ0FBQyxVQUFVLFdBQVcsT0FBTyxhQUFhLFlBQVksQ0FBQyxLQUFLLElBQUksQ0FBQyxDQUFDLEtBQ3pGLEtBQUssVUFBVSxDQUFDLEdBQUcsSUFBSSxDQUFDLFVBQVUsWUFBWSxPQUFPLGFBQWEsR0FBRyxDQUFDLEtBQUssSUFBSSxDQUFDLENBQUM7QUFDeEYsUUFBTSxFQUFFLGFBQWEsSUFBSSxVQUFVLE1BQU0sYUFBYSxHQUFHLENBQUMsQ0FBQztBQUMzRCxTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0EsTUFBTSxLQUFLO0FBQUEsSUFDWCxHQUFJLE1BQU0sU0FBUyxLQUFLLEVBQUUsYUFBYSxNQUFNLEtBQUssSUFBSSxFQUFFO0FBQUEsSUFDeEQ7QUFBQSxJQUNBLEdBQUksS0FBSyxVQUFVLEVBQUUsU0FBUyxLQUFLLE9BQU8sSUFBSSxDQUFDLFFBQVEsSUFBSSxJQUFJLEVBQUU7QUFBQSxJQUNqRSxHQUFJLGdCQUFnQixFQUFFLGFBQWE7QUFBQSxFQUNyQztBQUNGO0FBR08sU0FBUyxnQkFDZCxPQUNBLGFBQ3FEO0FBQ3JELFFBQU0sRUFBRSxNQUFNLElBQUksTUFBTTtBQUN4QixRQUFNLFFBQVEsTUFBTSxRQUFRLENBQUMsR0FBRyxJQUFJLENBQUMsU0FBUyxFQUFFLEdBQUcsS0FBSyxPQUFPLEVBQUUsRUFBRTtBQUNuRSxRQUFNLFdBQVcsU0FBUyxNQUFNLElBQUk7QUFDcEMsUUFBTSxFQUFFLFFBQVEsWUFBWSxJQUFJLFlBQVksTUFBTSxXQUFXO0FBQzdELFNBQU87QUFBQSxJQUNMO0FBQUEsSUFDQSxhQUFhLENBQUMsTUFBTSxlQUFlLElBQUksVUFBVSxXQUFXLEVBQUUsS0FBSyxHQUFHO0FBQUEsSUFDdEUsUUFBUSxPQUFPLGFBQWEsUUFBUSxHQUFHLFNBQVMsQ0FBQyxRQUFRLElBQUksQ0FBQztBQUFBLEVBQ2hFO0FBQ0Y7QUFFTyxTQUFTLGVBQWUsTUFBYyxhQUFzQztBQUNqRixRQUFNLFNBQVMsT0FBTyxhQUFhLElBQUksR0FBRyxVQUFVLENBQUM7QUFDckQsU0FBTztBQUFBLElBQ0wsT0FBTyxJQUFJLENBQUMsU0FBUyxFQUFFLEdBQUcsS0FBSyxPQUFPLEVBQUUsRUFBRTtBQUFBLElBQzFDO0FBQUEsRUFDRjtBQUNGO0FBRUEsU0FBUyxZQUNQLE9BQ0EsYUFDWTtBQUNaLFFBQU0sUUFBa0IsQ0FBQztBQUN6QixRQUFNLFFBQWtCLENBQUM7QUFDekIsUUFBTSxNQUFNLENBQUMsU0FBaUIsT0FBZSxVQUF3QjtBQUNuRSxVQUFNLE9BQU8sT0FBTyxhQUFhLFNBQVMsT0FBTyxDQUFDO0FBQ2xELFFBQUksVUFBVSxLQUFLLE1BQU0sU0FBUyxJQUFLO0FBQ3ZDLGVBQVcsU0FBUyxNQUFNLFVBQVUsQ0FBQyxHQUFHO0FBQ3RDLFlBQU0sS0FBSyxHQUFHLEtBQUssR0FBRyxNQUFNLElBQUksRUFBRTtBQUNsQyxVQUFJLE1BQU0sZ0JBQWdCLFVBQWEsTUFBTSxTQUFTLEdBQUksT0FBTSxLQUFLLE1BQU0sV0FBVztBQUN0RixVQUFJLE1BQU0sTUFBTSxHQUFHLEtBQUssR0FBRyxNQUFNLElBQUksS0FBSyxRQUFRLENBQUM7QUFBQSxJQUNyRDtBQUFBLEVBQ0Y7QUFDQSxhQUFXLE9BQU8sT0FBTztBQUN2QixVQUFNLEtBQUssSUFBSSxJQUFJO0FBQ25CLFVBQU0sS0FBSyxJQUFJLGVBQWUsRUFBRTtBQUNoQyxRQUFJLElBQUksTUFBTSxHQUFHLElBQUksSUFBSSxLQUFLLElBQUksS0FBSztBQUFBLEVBQ3pDO0FBQ0EsU0FBTyxFQUFFLFFBQVEsTUFBTSxNQUFNLEdBQUcsR0FBRyxHQUFHLGFBQWEsTUFBTSxLQUFLLEdBQUcsRUFBRTtBQUNyRTs7O0FDdk1PLElBQU0sWUFBdUI7QUFBQSxFQUNsQyxVQUFVO0FBQUEsRUFDVixjQUFjO0FBQUEsRUFDZCxZQUFZO0FBQUEsRUFDWixrQkFBa0I7QUFDcEI7IiwKICAibmFtZXMiOiBbXQp9Cg==
