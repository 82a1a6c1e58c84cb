import {
  envelopeText,
  sampleText
} from "./chunk-2QSPZIQJ.js";
import {
  bareName,
  isRequired,
  typeOf
} from "./chunk-MAUJ5X4J.js";
import {
  exampleFrom,
  xmlText
} from "./chunk-UUVSR64B.js";
import {
  limitsText
} from "./chunk-CCGHMHEK.js";
import {
  escaped
} from "./chunk-VDPV4SN2.js";
import {
  nearestHint
} from "./chunk-PACVB44P.js";
import {
  textOf
} from "./chunk-ZC7SUIQQ.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";

// src/core/documentation/draft/lines.ts
import { stringify } from "yaml";
var active = (text) => ({ active: true, text });
var commented = (text) => text.replace(/^(\s*)/, "$1# ");
function block(name, lines) {
  if (lines.length === 0) return [];
  return [
    { active: lines.some((line) => line.active), text: `${name}:` },
    ...lines.map((line) => ({ ...line, text: `  ${line.text}` }))
  ];
}
var reference = (name) => `\${${name}}`;
var oneLine = (text) => (text.split(/\n/)[0] ?? "").trim();
var key = (name) => scalar(name);
function scalar(text) {
  return stringify(text, { lineWidth: 0, defaultStringType: "PLAIN" }).trimEnd();
}
function flow(value2) {
  if (typeof value2 === "string") return scalar(value2);
  return stringify(value2, { collectionStyle: "flow", lineWidth: 0, flowCollectionPadding: false }).trimEnd();
}
function remark(field) {
  const facts = [
    field.type,
    limitsText(field),
    field.default !== void 0 && `default ${textOf(field.default) || '""'}`
  ].filter(Boolean).join(", ");
  const about = field.description === void 0 ? "" : `: ${oneLine(field.description)}`;
  return `   # ${facts}${about}${field.deprecated ? " (deprecated)" : ""}`;
}
function sample(field) {
  if (field.example !== void 0) return field.example;
  if (field.default !== void 0) return field.default;
  const item = field.allowed?.[0] ?? { integer: 1, number: 1, boolean: true }[plainType(itemType(field.type))] ?? "text";
  return isList(field.type) ? [item] : item;
}
var isList = (type) => type.startsWith("array") || type.startsWith("[");
var graphqlTypes = { Int: "integer", Float: "number", Boolean: "boolean" };
function plainType(type) {
  if (isList(type)) return "array";
  const named = graphqlTypes[type.replace(/!$/, "")];
  if (named !== void 0) return named;
  const word = /^[a-z]+/.exec(type)?.[0] ?? "string";
  return ["string", "number", "integer", "boolean", "array", "object"].includes(word) ? word : "string";
}
var itemType = (type) => type.replace(/^array of /, "").replace(/^\[(.*)\]!?$/, "$1");

// src/core/documentation/draft/parts.ts
function partLines({ fields }, inputs) {
  const sent = fields.filter((field) => !field.readOnly);
  return sent.length === 0 ? [] : block(
    "parts",
    sent.map((field) => part(field, inputs))
  );
}
function part(field, inputs) {
  const { required, type, name } = field;
  const given = () => reference(inputs.add(field, [name], "body"));
  if (isFile(type)) {
    const file = { ...field, type: "string", description: field.description ?? "the path of a file in the collection" };
    const path = required ? `"${reference(inputs.add(file, [name], "body"))}"` : "data/file.bin";
    return { active: required, text: `${key(name)}: {file: ${path}}${remark(field)}` };
  }
  const structure = (field.fields?.length ?? 0) > 0 || type.startsWith("object");
  if (structure)
    return {
      active: required,
      text: `${key(name)}: {json: ${required ? `"${given()}"` : flow(exampleFrom(field.fields ?? [], { toSend: true }))}}${remark(field)}`
    };
  return { active: required, text: `${key(name)}: ${required ? given() : flow(sample(field))}${remark(field)}` };
}
var isFile = (type) => /\((?:binary|base64)\)|^file\b/.test(type);
var fileLine = (type, required, inputs) => active(
  `file: ${reference(inputs.add({ name: "file", type: "string", required, description: `the path of a file in the collection, sent as ${type}` }, ["file"], "body"))}`
);

// src/core/documentation/draft/xml.ts
function xmlLines(body, inputs) {
  if (body.fields.length === 0) return [];
  const text = xmlText(body, {
    takes: ({ readOnly }) => !readOnly,
    value: (field, path, on) => value(field, path, inputs, on),
    optional: (lines, note) => [`<!-- ${note}`, ...lines.map(safe), "-->"],
    repeats: (note) => [`<!-- ${note} -->`]
  });
  return [active("xml: |"), ...text.map((line) => active(`  ${line}`))];
}
var safe = (text) => text.replaceAll("--", "- -");
function value(field, path, inputs, on) {
  const [only, more] = field.allowed ?? [];
  if (only !== void 0 && more === void 0) return escaped(String(only));
  if (on) return reference(inputs.add({ ...field, type: field.type.replace(/^array of /, "") }, path, "body"));
  const example = sample(field);
  return escaped(String(Array.isArray(example) ? example[0] : example));
}

// src/core/documentation/draft/body.ts
function bodyLines({ body, method }, inputs) {
  if (!body) return [];
  const json = /[/+]json\b/.test(body.type);
  const form = body.type === "application/x-www-form-urlencoded";
  if (!json && !form) return [...variantLines(method), ...otherBody(body, inputs)];
  const kind = json ? "json" : "form";
  const lines = withAlternatives(body.fields, body.alternatives, [], inputs, true);
  if (lines.length === 0)
    return block("body", [active(`${kind}: ${body.example === void 0 ? "{}" : flow(body.example)}`)]);
  if (!lines.some((line) => line.active)) {
    return [
      active("body:"),
      active(`  ${kind}:`),
      active("    {}"),
      ...lines.map((line) => ({ ...line, text: `    ${line.text}` }))
    ];
  }
  return [...variantLines(method), ...block("body", block(kind, lines))];
}
function otherBody(body, inputs) {
  const { type, required } = body;
  const isXml = /[/+]xml\b/.test(type);
  const lines = type === "multipart/form-data" ? partLines(body, inputs) : isXml ? xmlLines(body, inputs) : [];
  if (lines.length > 0) return block("body", lines);
  if (/^(?:application\/(?:octet-stream|pdf|zip)|image\/|audio\/|video\/)/.test(type))
    return block("body", [fileLine(type, required, inputs)]);
  return [{ active: false, text: `body: {${isXml ? "xml" : "text"}: ""}   # ${type}: its text is yours to write` }];
}
function variantLines(method) {
  if (method === "PUT") return [active("# A replacement: what is left out here is lost at the vendor.")];
  if (method === "PATCH") return [active("# An amendment: only what is written here changes.")];
  return [];
}
function withAlternatives(fields, alternatives, path, inputs, on) {
  const [first, ...others] = alternatives ?? [];
  if (!first) return members(fields, path, inputs, on);
  const about = ({ name, when }) => `${name}${when === void 0 ? "" : ` (${when})`}`;
  return [
    active(`# As ${about(first)}:`),
    ...members(first.fields, path, inputs, on),
    ...others.flatMap((other) => [active(`# or as ${about(other)}:`), ...members(other.fields, path, inputs, false)])
  ];
}
function members(fields, path, inputs, on) {
  return fields.filter((field) => !field.readOnly).flatMap((field) => {
    const here = [...path, field.name];
    const use = on && field.required;
    const list = isList(field.type);
    if (field.fields && field.fields.length > 0 || field.alternatives) {
      const inner = withAlternatives(field.fields ?? [], field.alternatives, here, inputs, use);
      const below = list ? asItem(inner) : inner.map((line) => ({ ...line, text: `  ${line.text}` }));
      return [{ active: use, text: `${key(field.name)}:${remark(field)}` }, ...below];
    }
    const [only, more] = field.allowed ?? [];
    const fixed = only !== void 0 && more === void 0 && !list;
    const value2 = fixed ? flow(only) : use ? reference(inputs.add(field, here, "body")) : flow(sample(field));
    return [{ active: use, text: `${key(field.name)}: ${value2}${remark(field)}` }];
  });
}
function asItem(lines) {
  const first = Math.max(
    0,
    lines.findIndex((line) => line.active)
  );
  return lines.map((line, index) => ({ ...line, text: `${index === first ? "  - " : "    "}${line.text}` }));
}

// src/core/documentation/graphql/selection.ts
var wrapping = /* @__PURE__ */ new Set(["edges", "node", "nodes", "pageInfo"]);
function callDocument({ root, field, returns, arguments: args }, definitions, variables, { depth, fields }) {
  const used = args.filter(({ name }) => variables.includes(name));
  const declared = used.map(({ name, type }) => `$${name}: ${type}`).join(", ");
  const given = used.map(({ name }) => `${name}: $${name}`).join(", ");
  const chosen = fields ? chosenSelection(
    returns,
    fields.map((one) => one.split(".")),
    definitions,
    field
  ) : wholeSelection(returns, definitions, depth, []);
  const head = `${root} ${field}${declared === "" ? "" : `(${declared})`}`;
  const call = `${field}${given === "" ? "" : `(${given})`}`;
  const body = chosen.length === 0 ? [`  ${call}`] : [`  ${call} {`, ...indented(chosen, 2), "  }"];
  return [`${head} {`, ...body, "}"].join("\n");
}
var indented = (lines, levels) => lines.map((line) => "  ".repeat(levels) + line);
function wholeSelection(written, definitions, depth, above) {
  const type = typeOf(definitions, bareName(written));
  if (!type || type.kind === "scalar" || type.kind === "enumeration" || type.kind === "input") return [];
  const inside = [...above, type.name];
  const own = (type.fields ?? []).filter(({ args = [], deprecated }) => !args.some(isRequired) && deprecated === void 0).flatMap((field) => oneField(field, definitions, depth, inside));
  const shapes = (type.possible ?? []).flatMap((name) => {
    const known = new Set((type.fields ?? []).map((field) => field.name));
    const inner = (typeOf(definitions, name)?.fields ?? []).filter(
      (field) => !known.has(field.name) && !(field.args ?? []).some(isRequired) && field.deprecated === void 0
    ).flatMap((field) => oneField(field, definitions, depth, [...inside, name]));
    return inner.length === 0 ? [] : [`... on ${name} {`, ...indented(inner, 1), "}"];
  });
  const lines = [...type.kind === "object" ? [] : ["__typename"], ...own, ...shapes];
  return lines.length === 0 ? ["__typename"] : lines;
}
function oneField(field, definitions, depth, above) {
  const type = typeOf(definitions, bareName(field.type));
  if (!type || type.kind === "scalar" || type.kind === "enumeration") return [field.name];
  const left = wrapping.has(field.name) ? depth : depth - 1;
  if (left < 0 || above.includes(type.name)) return [];
  const inner = wholeSelection(field.type, definitions, left, above);
  return [`${field.name} {`, ...indented(inner, 1), "}"];
}
function chosenSelection(written, paths, definitions, at) {
  const type = typeOf(definitions, bareName(written));
  const groups = /* @__PURE__ */ new Map();
  for (const [first, ...rest] of paths)
    if (first !== void 0) groups.set(first, [...groups.get(first) ?? [], rest]);
  return [...groups].flatMap(([name, rests]) => {
    const field = type?.fields?.find((one) => one.name === name);
    if (!field) {
      throw new Problem("usage", {
        what: `${at} (${written}) has no field ${name}`,
        remedy: nearestHint(
          name,
          (type?.fields ?? []).map((one) => one.name)
        ) ?? `echo-trail docs show --type ${bareName(written)}`
      });
    }
    const deeper = rests.filter((rest) => rest.length > 0);
    const inner = deeper.length > 0 ? chosenSelection(field.type, deeper, definitions, `${at}.${name}`) : wholeSelection(field.type, definitions, 0, []);
    return inner.length === 0 ? [name] : [`${name} {`, ...indented(inner, 1), "}"];
  });
}

// src/core/documentation/draft/graphql.ts
var usualDepth = 2;
function graphqlLines({ parameters, changes }, call, definitions, selection, inputs) {
  const required = parameters.filter((one) => one.required).map(({ name }) => name);
  const optional = parameters.filter((one) => !one.required && one.deprecated !== true).map(({ name }) => name);
  const document = callDocument(call, definitions, [...required, ...optional], { depth: usualDepth, ...selection });
  const { pathname = "/graphql" } = call.endpoint === void 0 ? {} : new URL(call.endpoint);
  const variables = members(parameters, [], inputs, true);
  const graphql = [
    active("document: |"),
    ...document.split("\n").map((line) => active(`  ${line}`)),
    ...block("variables", variables)
  ];
  return {
    address: [
      [
        active("method: POST"),
        active(`url: \${origin}${pathname}`),
        ...changes ? [] : [active("changes: false                      # a query, although it is a POST")]
      ],
      block("headers", [active(`Accept: ${scalar("application/graphql-response+json, application/json")}`)])
    ],
    body: [
      block("body", block("graphql", graphql)),
      block("expect", [
        active("status: 200"),
        active("errors: {count: 0}"),
        active(`${scalar(`$.data.${call.field}`)}: {exists: true}`)
      ])
    ]
  };
}

// src/core/documentation/draft/inputs.ts
var Inputs = class {
  /** @param suppliers what supplies the values of an input, by the name of its field */
  constructor(suppliers = /* @__PURE__ */ new Map()) {
    this.suppliers = suppliers;
  }
  suppliers;
  fields = /* @__PURE__ */ new Map();
  /** The name of the input for a field; a second field of that name gets its holder's name before it. */
  add(field, path, holder) {
    const own = inputName(field.name);
    const longer = inputName([...path.slice(-2, -1), field.name].join("-"));
    const name = [own, longer, inputName(`${holder}-${field.name}`)].find((candidate) => !this.fields.has(candidate)) ?? `${own}-${this.fields.size}`;
    this.fields.set(name, field);
    return name;
  }
  supplierLines({ name }) {
    const supplier = this.suppliers.get(name);
    if (!supplier) return [];
    const why = supplier.guess ? "   # a guess" : "";
    return supplier.drafted ? [`choose-from: ${scalar(supplier.from)}${why}`] : [`# supplied by ${supplier.from}${supplier.guess ? ", as a guess" : ""}`];
  }
  lines() {
    return [...this.fields].flatMap(([name, field]) => [
      active(`${name}:`),
      ...[
        field.description && `about: ${scalar(oneLine(field.description))}`,
        `type: ${plainType(field.type)}`,
        ...matcherLines(field),
        field.default !== void 0 && `default: ${flow(field.default)}`,
        ...this.supplierLines(field),
        field.example !== void 0 && field.default === void 0 && `# such as ${flow(field.example)}`
      ].filter((line) => typeof line === "string").map((line) => active(`  ${line}`))
    ]);
  }
};
function matcherLines({ allowed, limits = {}, type }) {
  const lines = allowed && !isList(type) ? [`one-of: ${flow(allowed)}`] : [];
  for (const name of ["at-least", "at-most", "over", "under", "matches"]) {
    const value2 = limits[name];
    if (value2 !== void 0) lines.push(`${name}: ${flow(value2)}`);
  }
  return lines;
}
var inputName = (name) => name.replace(/[^\p{L}\p{N}_]+/gu, "-").replace(/^[^\p{L}_]+|-$/gu, "") || "value";

// src/core/documentation/draft/soap.ts
function soapLines({ changes }, { version, action, address }, entry, definitions, inputs) {
  const input = (leaf) => {
    if (!leaf.active) return escaped(sampleText(leaf));
    const { path: path2, type, allowed, limits, about, default: fallback } = leaf;
    const field = {
      name: path2.at(-1) ?? "value",
      type,
      required: true,
      ...allowed && { allowed },
      ...limits && { limits },
      ...about !== void 0 && { description: about },
      ...fallback !== void 0 && { default: fallback }
    };
    return reference(inputs.add(field, path2, "body"));
  };
  const envelope = envelopeText(entry.own, definitions, input);
  const path = URL.canParse(address) ? new URL(address).pathname : "/";
  return {
    address: [
      [
        active("method: POST"),
        active(`url: \${origin}${path}`),
        ...changes ? [] : [active("changes: false                      # by its name a call that only reads")]
      ]
    ],
    body: [
      block(
        "body",
        block("soap", [
          active(`version: "${version}"`),
          ...action === "" && version === "1.2" ? [] : [active(`action: ${scalar(action === "" ? '""' : action)}`)],
          active("envelope: |"),
          ...envelope.split("\n").map((line) => active(`  ${line}`))
        ])
      ),
      block("expect", [active("status: 200"), active("errors: {count: 0}")])
    ]
  };
}

// src/core/documentation/draft/draft.ts
function draftName({ group, id }) {
  return `${slug(group)}/${slug(id)}`;
}
function slug(text) {
  return text.replace(new RegExp("([\\p{Ll}\\p{N}])(\\p{Lu})", "gu"), "$1-$2").toLowerCase().replace(/[^\p{L}\p{N}]+/gu, "-").replace(/^-|-$/g, "");
}
function draftRequest(operation, settings) {
  const inputs = new Inputs(settings.suppliers);
  const call = callLines(unsigned(operation, settings), settings, inputs);
  const { schema, session, signature } = settings;
  const blocks = [
    [active(`# yaml-language-server: $schema=${schema}`)],
    [
      active(`about: ${scalar(oneLine(operation.summary ?? operation.description ?? operation.id))}`),
      active(`operation: ${scalar(`${operation.source}/${operation.id}`)}`),
      ...operation.deprecated ? [active("# The documentation calls this operation deprecated.")] : []
    ],
    block("inputs", inputs.lines()),
    ...call.address,
    sessionLines(operation, session, signature?.name),
    ...call.body
  ];
  return `${blocks.filter((lines) => lines.length > 0).map((lines) => lines.map(({ active: on, text }) => on ? text : commented(text)).join("\n")).join("\n")}
`;
}
function unsigned(operation, { signature }) {
  if (!signature) return operation;
  return {
    ...operation,
    parameters: operation.parameters.filter(
      ({ in: where, name }) => where !== "header" || !signature.makes.has(name.toLowerCase())
    )
  };
}
function callLines(operation, settings, inputs) {
  const { graphql, soap } = operation;
  const { entry, definitions, selection } = settings;
  if (graphql) return graphqlLines(operation, graphql, definitions, selection, inputs);
  return soap ? soapLines(operation, soap, entry, definitions, inputs) : httpLines(operation, inputs);
}
function httpLines(operation, inputs) {
  const at = (where) => operation.parameters.filter((parameter) => parameter.in === where);
  const path = at("path").map((parameter) => inputs.add(parameter, [parameter.name], "path"));
  const renamed = at("path").flatMap(
    ({ name }, index) => path[index] === name ? [] : [{ active: true, text: `${key(name)}: \${${path[index]}}` }]
  );
  const query = at("query").map((parameter) => parameterLine(parameter, inputs));
  const headers = at("header").map((parameter) => parameterLine(parameter, inputs));
  const body = bodyLines(operation, inputs);
  const answer = operation.answers.find(({ status }) => /^2/.test(status));
  const accept = answer?.content?.type;
  return {
    address: [
      [active(`method: ${operation.method}`), active(`url: ${addressText(operation.path)}`)],
      block("path", renamed),
      block("query", query),
      block("headers", [...accept ? [active(`Accept: ${scalar(accept)}`)] : [], ...headers])
    ],
    body: [body, block("expect", expectations(answer)), block("keep", keeps(answer))]
  };
}
function parameterLine(parameter, inputs) {
  if (parameter.required)
    return active(
      `${key(parameter.name)}: ${reference(inputs.add(parameter, [parameter.name], parameter.in))}${remark(parameter)}`
    );
  return { active: false, text: `${key(parameter.name)}: ${flow(sample(parameter))}${remark(parameter)}` };
}
function sessionLines({ security, protocol, certainty }, session, signature) {
  if (security.length === 0 && (protocol !== "http" || certainty !== void 0))
    return [active("session: none                       # whether one is wanted is not documented")];
  if (security.length === 0) return [active("session: none")];
  const wanted = security.map(({ schemes }) => schemes.map(({ name, about }) => `${name}, ${about}`).join(" and ")).join("; or ");
  if (signature !== void 0 && security.every(({ schemes }) => schemes.length === 1))
    return [active("session: none"), active(`signature: ${scalar(signature)}   # the documentation wants ${wanted}`)];
  if (signature !== void 0)
    return [
      ...sessionLines({ security, protocol, certainty }, session, void 0),
      active(`signature: ${scalar(signature)}`)
    ];
  return session === void 0 ? [{ active: false, text: `session: NAME   # the documentation wants ${wanted}` }] : [active(`session: ${scalar(session)}   # the documentation wants ${wanted}`)];
}
function expectations(answer) {
  if (!answer) return [];
  const lines = [active(`status: ${/^\d+$/.test(answer.status) ? answer.status : answer.status.toLowerCase()}`)];
  if (answer.content) lines.push(active(`header.content-type: {starts-with: ${scalar(answer.content.type)}}`));
  if (answer.content?.schema !== void 0 && /[/+]json\b/.test(answer.content.type))
    lines.push(active("$: {schema: documented}"));
  return lines;
}
function keeps(answer) {
  const array = JSON.stringify(answer?.content?.schema ?? null).startsWith('{"type":"array"');
  const own = (answer?.content?.fields ?? []).filter((field) => field.readOnly || /^id$|Id$|_id$/.test(field.name)).slice(0, 3);
  const xml = /[/+]xml\b/.test(answer?.content?.type ?? "");
  const place = ({ name, xml: written }) => xml ? `${written?.attribute ? "//@" : "//"}${written?.name ?? name}` : `$.${name}`;
  const lines = array ? [] : own.map((field) => ({ active: false, text: `${inputName(field.name)}: ${place(field)}` }));
  if (answer?.headers.some((header) => header.name.toLowerCase() === "location"))
    lines.push({ active: false, text: "address: header.location" });
  return lines;
}
function addressText(path) {
  const plain = path.replace(/\{([^}]+)\}/g, (_, name) => `{${name}}`);
  return `\${origin}${plain}`;
}

export {
  scalar,
  draftName,
  draftRequest
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi9kcmFmdC9saW5lcy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9kb2N1bWVudGF0aW9uL2RyYWZ0L3BhcnRzLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2RvY3VtZW50YXRpb24vZHJhZnQveG1sLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2RvY3VtZW50YXRpb24vZHJhZnQvYm9keS50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9kb2N1bWVudGF0aW9uL2dyYXBocWwvc2VsZWN0aW9uLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2RvY3VtZW50YXRpb24vZHJhZnQvZ3JhcGhxbC50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9kb2N1bWVudGF0aW9uL2RyYWZ0L2lucHV0cy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9kb2N1bWVudGF0aW9uL2RyYWZ0L3NvYXAudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi9kcmFmdC9kcmFmdC50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIExpbmVzIG9mIGEgZHJhZnRlZCBmaWxlLCBhY3RpdmUgb3IgYXMgY29tbWVudHMsIGFuZCB0aGUgWUFNTCBvZiB3aGF0IHN0YW5kcyBpbiB0aGVtLiAqL1xuaW1wb3J0IHsgc3RyaW5naWZ5IH0gZnJvbSAneWFtbCc7XG5pbXBvcnQgeyB0ZXh0T2YgfSBmcm9tICcuLi8uLi92YWx1ZS90ZXh0LmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUgfSBmcm9tICcuLi8uLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB7IGxpbWl0c1RleHQgfSBmcm9tICcuLi9saW1pdHMtdGV4dC5qcyc7XG5pbXBvcnQgdHlwZSB7IEZpZWxkIH0gZnJvbSAnLi4vbW9kZWwuanMnO1xuXG4vKiogQSBsaW5lIG9mIHRoZSBmaWxlOyBhbiBpbmFjdGl2ZSBvbmUgaXMgYSBjb21tZW50LiAqL1xuZXhwb3J0IGludGVyZmFjZSBMaW5lIHtcbiAgcmVhZG9ubHkgYWN0aXZlOiBib29sZWFuO1xuICByZWFkb25seSB0ZXh0OiBzdHJpbmc7XG59XG5cbi8qKiBUaGUgbGluZXMgb2YgYSBjYWxsIGJlZm9yZSBhbmQgYmVoaW5kIGl0cyBzZXNzaW9uLiAqL1xuZXhwb3J0IGludGVyZmFjZSBDYWxsTGluZXMge1xuICByZWFkb25seSBhZGRyZXNzOiByZWFkb25seSBMaW5lW11bXTtcbiAgcmVhZG9ubHkgYm9keTogcmVhZG9ubHkgTGluZVtdW107XG59XG5cbmV4cG9ydCBjb25zdCBhY3RpdmUgPSAodGV4dDogc3RyaW5nKTogTGluZSA9PiAoeyBhY3RpdmU6IHRydWUsIHRleHQgfSk7XG5cbmV4cG9ydCBjb25zdCBjb21tZW50ZWQgPSAodGV4dDogc3RyaW5nKTogc3RyaW5nID0+IHRleHQucmVwbGFjZSgvXihcXHMqKS8sICckMSMgJyk7XG5cbi8qKiBBIGtleSB3aXRoIGxpbmVzIGJlbG93IGl0OyB3aGVyZSBub25lIG9mIHRoZW0gaXMgYWN0aXZlLCB0aGUga2V5IGlzIGEgY29tbWVudCB0b28uICovXG5leHBvcnQgZnVuY3Rpb24gYmxvY2sobmFtZTogc3RyaW5nLCBsaW5lczogcmVhZG9ubHkgTGluZVtdKTogTGluZVtdIHtcbiAgaWYgKGxpbmVzLmxlbmd0aCA9PT0gMCkgcmV0dXJuIFtdO1xuICByZXR1cm4gW1xuICAgIHsgYWN0aXZlOiBsaW5lcy5zb21lKChsaW5lKSA9PiBsaW5lLmFjdGl2ZSksIHRleHQ6IGAke25hbWV9OmAgfSxcbiAgICAuLi5saW5lcy5tYXAoKGxpbmUpID0+ICh7IC4uLmxpbmUsIHRleHQ6IGAgICR7bGluZS50ZXh0fWAgfSkpLFxuICBdO1xufVxuXG5leHBvcnQgY29uc3QgcmVmZXJlbmNlID0gKG5hbWU6IHN0cmluZyk6IHN0cmluZyA9PiBgXFwkeyR7bmFtZX19YDtcblxuZXhwb3J0IGNvbnN0IG9uZUxpbmUgPSAodGV4dDogc3RyaW5nKTogc3RyaW5nID0+ICh0ZXh0LnNwbGl0KC9cXG4vKVswXSA/PyAnJykudHJpbSgpO1xuXG5leHBvcnQgY29uc3Qga2V5ID0gKG5hbWU6IHN0cmluZyk6IHN0cmluZyA9PiBzY2FsYXIobmFtZSk7XG5cbi8qKiBBIHRleHQgYXMgWUFNTCwgcXVvdGVkIHdoZXJlIGl0IGhhcyB0byBiZS4gKi9cbmV4cG9ydCBmdW5jdGlvbiBzY2FsYXIodGV4dDogc3RyaW5nKTogc3RyaW5nIHtcbiAgcmV0dXJuIHN0cmluZ2lmeSh0ZXh0LCB7IGxpbmVXaWR0aDogMCwgZGVmYXVsdFN0cmluZ1R5cGU6ICdQTEFJTicgfSkudHJpbUVuZCgpO1xufVxuXG5leHBvcnQgZnVuY3Rpb24gZmxvdyh2YWx1ZTogVmFsdWUpOiBzdHJpbmcge1xuICBpZiAodHlwZW9mIHZhbHVlID09PSAnc3RyaW5nJykgcmV0dXJuIHNjYWxhcih2YWx1ZSk7XG4gIHJldHVybiBzdHJpbmdpZnkodmFsdWUsIHsgY29sbGVjdGlvblN0eWxlOiAnZmxvdycsIGxpbmVXaWR0aDogMCwgZmxvd0NvbGxlY3Rpb25QYWRkaW5nOiBmYWxzZSB9KS50cmltRW5kKCk7XG59XG5cbi8qKiBgaW50ZWdlciwgMSB0byAxNCwgZGVmYXVsdCAxOiBuaWdodHMgYXQgdGhlIGJlcnRoYCwgYXMgYSBjb21tZW50IGJlaGluZCBhIHZhbHVlLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHJlbWFyayhmaWVsZDogRmllbGQpOiBzdHJpbmcge1xuICBjb25zdCBmYWN0cyA9IFtcbiAgICBmaWVsZC50eXBlLFxuICAgIGxpbWl0c1RleHQoZmllbGQpLFxuICAgIGZpZWxkLmRlZmF1bHQgIT09IHVuZGVmaW5lZCAmJiBgZGVmYXVsdCAke3RleHRPZihmaWVsZC5kZWZhdWx0KSB8fCAnXCJcIid9YCxcbiAgXVxuICAgIC5maWx0ZXIoQm9vbGVhbilcbiAgICAuam9pbignLCAnKTtcbiAgY29uc3QgYWJvdXQgPSBmaWVsZC5kZXNjcmlwdGlvbiA9PT0gdW5kZWZpbmVkID8gJycgOiBgOiAke29uZUxpbmUoZmllbGQuZGVzY3JpcHRpb24pfWA7XG4gIHJldHVybiBgICAgIyAke2ZhY3RzfSR7YWJvdXR9JHtmaWVsZC5kZXByZWNhdGVkID8gJyAoZGVwcmVjYXRlZCknIDogJyd9YDtcbn1cblxuZXhwb3J0IGZ1bmN0aW9uIHNhbXBsZShmaWVsZDogRmllbGQpOiBWYWx1ZSB7XG4gIGlmIChmaWVsZC5leGFtcGxlICE9PSB1bmRlZmluZWQpIHJldHVybiBmaWVsZC5leGFtcGxlO1xuICBpZiAoZmllbGQuZGVmYXVsdCAhPT0gdW5kZWZpbmVkKSByZXR1cm4gZmllbGQuZGVmYXVsdDtcbiAgY29uc3QgaXRlbSA9XG4gICAgZmllbGQuYWxsb3dlZD8uWzBdID8/IHsgaW50ZWdlcjogMSwgbnVtYmVyOiAxLCBib29sZWFuOiB0cnVlIH1bcGxhaW5UeXBlKGl0ZW1UeXBlKGZpZWxkLnR5cGUpKV0gPz8gJ3RleHQnO1xuICByZXR1cm4gaXNMaXN0KGZpZWxkLnR5cGUpID8gW2l0ZW1dIDogaXRlbTtcbn1cblxuZXhwb3J0IGNvbnN0IGlzTGlzdCA9ICh0eXBlOiBzdHJpbmcpOiBib29sZWFuID0+IHR5cGUuc3RhcnRzV2l0aCgnYXJyYXknKSB8fCB0eXBlLnN0YXJ0c1dpdGgoJ1snKTtcblxuY29uc3QgZ3JhcGhxbFR5cGVzOiBSZWFkb25seTxSZWNvcmQ8c3RyaW5nLCBzdHJpbmc+PiA9IHsgSW50OiAnaW50ZWdlcicsIEZsb2F0OiAnbnVtYmVyJywgQm9vbGVhbjogJ2Jvb2xlYW4nIH07XG5cbi8qKiBPbmUgb2YgdGhlIHR5cGVzIHRoYXQgYW4gaW5wdXQgbWF5IGhhdmUuICovXG5leHBvcnQgZnVuY3Rpb24gcGxhaW5UeXBlKHR5cGU6IHN0cmluZyk6IHN0cmluZyB7XG4gIGlmIChpc0xpc3QodHlwZSkpIHJldHVybiAnYXJyYXknO1xuICBjb25zdCBuYW1lZCA9IGdyYXBocWxUeXBlc1t0eXBlLnJlcGxhY2UoLyEkLywgJycpXTtcbiAgaWYgKG5hbWVkICE9PSB1bmRlZmluZWQpIHJldHVybiBuYW1lZDtcbiAgY29uc3Qgd29yZCA9IC9eW2Etel0rLy5leGVjKHR5cGUpPy5bMF0gPz8gJ3N0cmluZyc7XG4gIHJldHVybiBbJ3N0cmluZycsICdudW1iZXInLCAnaW50ZWdlcicsICdib29sZWFuJywgJ2FycmF5JywgJ29iamVjdCddLmluY2x1ZGVzKHdvcmQpID8gd29yZCA6ICdzdHJpbmcnO1xufVxuXG4vKiogVGhlIHR5cGUgb2YgdGhlIGl0ZW1zIG9mIGEgbGlzdCwgZWxzZSB0aGUgdHlwZSBpdHNlbGYuICovXG5jb25zdCBpdGVtVHlwZSA9ICh0eXBlOiBzdHJpbmcpOiBzdHJpbmcgPT4gdHlwZS5yZXBsYWNlKC9eYXJyYXkgb2YgLywgJycpLnJlcGxhY2UoL15cXFsoLiopXFxdIT8kLywgJyQxJyk7XG4iLCAiLyoqIEEgYm9keSBvZiBwYXJ0cyBmcm9tIHRoZSBmaWVsZHMgb2YgaXRzIHNjaGVtYTogdGV4dHMsIHN0cnVjdHVyZXMsIGFuZCBmaWxlcyAoT3BlbkFQSSAzLjEsIHNlY3Rpb24gNC44LjE0KS4gKi9cbmltcG9ydCB7IGV4YW1wbGVGcm9tIH0gZnJvbSAnLi4vZXhhbXBsZS5qcyc7XG5pbXBvcnQgdHlwZSB7IEJvZHksIEZpZWxkIH0gZnJvbSAnLi4vbW9kZWwuanMnO1xuaW1wb3J0IHR5cGUgeyBJbnB1dHMgfSBmcm9tICcuL2lucHV0cy5qcyc7XG5pbXBvcnQgeyBhY3RpdmUsIGJsb2NrLCBmbG93LCBrZXksIHR5cGUgTGluZSwgcmVmZXJlbmNlLCByZW1hcmssIHNhbXBsZSB9IGZyb20gJy4vbGluZXMuanMnO1xuXG4vKiogVGhlIGxpbmVzIG9mIGBwYXJ0czpgOyBub25lIHdoZXJlIG5vdGhpbmcgaXMga25vd24gb2YgdGhlbS4gKi9cbmV4cG9ydCBmdW5jdGlvbiBwYXJ0TGluZXMoeyBmaWVsZHMgfTogQm9keSwgaW5wdXRzOiBJbnB1dHMpOiBMaW5lW10ge1xuICBjb25zdCBzZW50ID0gZmllbGRzLmZpbHRlcigoZmllbGQpID0+ICFmaWVsZC5yZWFkT25seSk7XG4gIHJldHVybiBzZW50Lmxlbmd0aCA9PT0gMFxuICAgID8gW11cbiAgICA6IGJsb2NrKFxuICAgICAgICAncGFydHMnLFxuICAgICAgICBzZW50Lm1hcCgoZmllbGQpID0+IHBhcnQoZmllbGQsIGlucHV0cykpLFxuICAgICAgKTtcbn1cblxuZnVuY3Rpb24gcGFydChmaWVsZDogRmllbGQsIGlucHV0czogSW5wdXRzKTogTGluZSB7XG4gIGNvbnN0IHsgcmVxdWlyZWQsIHR5cGUsIG5hbWUgfSA9IGZpZWxkO1xuICBjb25zdCBnaXZlbiA9ICgpOiBzdHJpbmcgPT4gcmVmZXJlbmNlKGlucHV0cy5hZGQoZmllbGQsIFtuYW1lXSwgJ2JvZHknKSk7XG4gIGlmIChpc0ZpbGUodHlwZSkpIHtcbiAgICBjb25zdCBmaWxlID0geyAuLi5maWVsZCwgdHlwZTogJ3N0cmluZycsIGRlc2NyaXB0aW9uOiBmaWVsZC5kZXNjcmlwdGlvbiA/PyAndGhlIHBhdGggb2YgYSBmaWxlIGluIHRoZSBjb2xsZWN0aW9uJyB9O1xuICAgIGNvbnN0IHBhdGggPSByZXF1aXJlZCA/IGBcIiR7cmVmZXJlbmNlKGlucHV0cy5hZGQoZmlsZSwgW25hbWVdLCAnYm9keScpKX1cImAgOiAnZGF0YS9maWxlLmJpbic7XG4gICAgcmV0dXJuIHsgYWN0aXZlOiByZXF1aXJlZCwgdGV4dDogYCR7a2V5KG5hbWUpfToge2ZpbGU6ICR7cGF0aH19JHtyZW1hcmsoZmllbGQpfWAgfTtcbiAgfVxuICBjb25zdCBzdHJ1Y3R1cmUgPSAoZmllbGQuZmllbGRzPy5sZW5ndGggPz8gMCkgPiAwIHx8IHR5cGUuc3RhcnRzV2l0aCgnb2JqZWN0Jyk7XG4gIGlmIChzdHJ1Y3R1cmUpXG4gICAgcmV0dXJuIHtcbiAgICAgIGFjdGl2ZTogcmVxdWlyZWQsXG4gICAgICB0ZXh0OiBgJHtrZXkobmFtZSl9OiB7anNvbjogJHtyZXF1aXJlZCA/IGBcIiR7Z2l2ZW4oKX1cImAgOiBmbG93KGV4YW1wbGVGcm9tKGZpZWxkLmZpZWxkcyA/PyBbXSwgeyB0b1NlbmQ6IHRydWUgfSkpfX0ke3JlbWFyayhmaWVsZCl9YCxcbiAgICB9O1xuICByZXR1cm4geyBhY3RpdmU6IHJlcXVpcmVkLCB0ZXh0OiBgJHtrZXkobmFtZSl9OiAke3JlcXVpcmVkID8gZ2l2ZW4oKSA6IGZsb3coc2FtcGxlKGZpZWxkKSl9JHtyZW1hcmsoZmllbGQpfWAgfTtcbn1cblxuLyoqIEJ5IGl0cyBmb3JtYXQgaW4gT3BlbkFQSSAzLjAsIGJ5IGEgbWVkaWEgdHlwZSBvciBhbiBlbmNvZGluZyBvZiBpdHMgY29udGVudCBpbiAzLjEuICovXG5jb25zdCBpc0ZpbGUgPSAodHlwZTogc3RyaW5nKTogYm9vbGVhbiA9PiAvXFwoKD86YmluYXJ5fGJhc2U2NClcXCl8XmZpbGVcXGIvLnRlc3QodHlwZSk7XG5cbi8qKiBBIGJvZHkgdGhhdCBpcyBhIGZpbGUgYXMgaXQgaXMuICovXG5leHBvcnQgY29uc3QgZmlsZUxpbmUgPSAodHlwZTogc3RyaW5nLCByZXF1aXJlZDogYm9vbGVhbiwgaW5wdXRzOiBJbnB1dHMpOiBMaW5lID0+XG4gIGFjdGl2ZShcbiAgICBgZmlsZTogJHtyZWZlcmVuY2UoaW5wdXRzLmFkZCh7IG5hbWU6ICdmaWxlJywgdHlwZTogJ3N0cmluZycsIHJlcXVpcmVkLCBkZXNjcmlwdGlvbjogYHRoZSBwYXRoIG9mIGEgZmlsZSBpbiB0aGUgY29sbGVjdGlvbiwgc2VudCBhcyAke3R5cGV9YCB9LCBbJ2ZpbGUnXSwgJ2JvZHknKSl9YCxcbiAgKTtcbiIsICIvKiogQW4gWE1MIGJvZHkgZnJvbSB0aGUgZmllbGRzIG9mIGl0cyBzY2hlbWE6IHJlcXVpcmVkIGVsZW1lbnRzIHN0YW5kIHRoZXJlLCBvcHRpb25hbCBvbmVzIGFzIGNvbW1lbnRzLiAqL1xuaW1wb3J0IHsgZXNjYXBlZCB9IGZyb20gJy4uL2VzY2FwZS14bWwuanMnO1xuaW1wb3J0IHR5cGUgeyBCb2R5LCBGaWVsZCB9IGZyb20gJy4uL21vZGVsLmpzJztcbmltcG9ydCB7IHhtbFRleHQgfSBmcm9tICcuLi94bWwtdGV4dC5qcyc7XG5pbXBvcnQgdHlwZSB7IElucHV0cyB9IGZyb20gJy4vaW5wdXRzLmpzJztcbmltcG9ydCB7IGFjdGl2ZSwgdHlwZSBMaW5lLCByZWZlcmVuY2UsIHNhbXBsZSB9IGZyb20gJy4vbGluZXMuanMnO1xuXG4vKiogVGhlIGxpbmVzIG9mIGB4bWw6IHxgOyBub25lIHdoZXJlIG5vdGhpbmcgaXMga25vd24gb2YgaXRzIGVsZW1lbnRzLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHhtbExpbmVzKGJvZHk6IEJvZHksIGlucHV0czogSW5wdXRzKTogTGluZVtdIHtcbiAgaWYgKGJvZHkuZmllbGRzLmxlbmd0aCA9PT0gMCkgcmV0dXJuIFtdO1xuICBjb25zdCB0ZXh0ID0geG1sVGV4dChib2R5LCB7XG4gICAgdGFrZXM6ICh7IHJlYWRPbmx5IH0pID0+ICFyZWFkT25seSxcbiAgICB2YWx1ZTogKGZpZWxkLCBwYXRoLCBvbikgPT4gdmFsdWUoZmllbGQsIHBhdGgsIGlucHV0cywgb24pLFxuICAgIG9wdGlvbmFsOiAobGluZXMsIG5vdGUpID0+IFtgPCEtLSAke25vdGV9YCwgLi4ubGluZXMubWFwKHNhZmUpLCAnLS0+J10sXG4gICAgcmVwZWF0czogKG5vdGUpID0+IFtgPCEtLSAke25vdGV9IC0tPmBdLFxuICB9KTtcbiAgcmV0dXJuIFthY3RpdmUoJ3htbDogfCcpLCAuLi50ZXh0Lm1hcCgobGluZSkgPT4gYWN0aXZlKGAgICR7bGluZX1gKSldO1xufVxuXG4vKiogVHdvIGh5cGhlbnMgZW5kIGEgY29tbWVudCAoWE1MIDEuMCwgc2VjdGlvbiAyLjUpLiAqL1xuY29uc3Qgc2FmZSA9ICh0ZXh0OiBzdHJpbmcpOiBzdHJpbmcgPT4gdGV4dC5yZXBsYWNlQWxsKCctLScsICctIC0nKTtcblxuZnVuY3Rpb24gdmFsdWUoZmllbGQ6IEZpZWxkLCBwYXRoOiByZWFkb25seSBzdHJpbmdbXSwgaW5wdXRzOiBJbnB1dHMsIG9uOiBib29sZWFuKTogc3RyaW5nIHtcbiAgY29uc3QgW29ubHksIG1vcmVdID0gZmllbGQuYWxsb3dlZCA/PyBbXTtcbiAgaWYgKG9ubHkgIT09IHVuZGVmaW5lZCAmJiBtb3JlID09PSB1bmRlZmluZWQpIHJldHVybiBlc2NhcGVkKFN0cmluZyhvbmx5KSk7XG4gIC8vIE9mIGEgbGlzdCwgb25lIGl0ZW06IG1vcmUgb2YgdGhlbSBhcmUgd3JpdHRlbiBiZXNpZGUgaXQuXG4gIGlmIChvbikgcmV0dXJuIHJlZmVyZW5jZShpbnB1dHMuYWRkKHsgLi4uZmllbGQsIHR5cGU6IGZpZWxkLnR5cGUucmVwbGFjZSgvXmFycmF5IG9mIC8sICcnKSB9LCBwYXRoLCAnYm9keScpKTtcbiAgY29uc3QgZXhhbXBsZSA9IHNhbXBsZShmaWVsZCk7XG4gIHJldHVybiBlc2NhcGVkKFN0cmluZyhBcnJheS5pc0FycmF5KGV4YW1wbGUpID8gZXhhbXBsZVswXSA6IGV4YW1wbGUpKTtcbn1cbiIsICIvKiogVGhlIGJvZHkgb2YgYW4gSFRUUCBjYWxsLCBhbmQgdGhlIHN0cnVjdHVyZWQgdmFsdWVzIHRoYXQgaXQgc2hhcmVzIHdpdGggdGhlIHZhcmlhYmxlcyBvZiBHcmFwaFFMLiAqL1xuaW1wb3J0IHR5cGUgeyBBbHRlcm5hdGl2ZSwgQm9keSwgRmllbGQsIE9wZXJhdGlvbiB9IGZyb20gJy4uL21vZGVsLmpzJztcbmltcG9ydCB0eXBlIHsgSW5wdXRzIH0gZnJvbSAnLi9pbnB1dHMuanMnO1xuaW1wb3J0IHsgYWN0aXZlLCBibG9jaywgZmxvdywgaXNMaXN0LCBrZXksIHR5cGUgTGluZSwgcmVmZXJlbmNlLCByZW1hcmssIHNhbXBsZSB9IGZyb20gJy4vbGluZXMuanMnO1xuaW1wb3J0IHsgZmlsZUxpbmUsIHBhcnRMaW5lcyB9IGZyb20gJy4vcGFydHMuanMnO1xuaW1wb3J0IHsgeG1sTGluZXMgfSBmcm9tICcuL3htbC5qcyc7XG5cbmV4cG9ydCBmdW5jdGlvbiBib2R5TGluZXMoeyBib2R5LCBtZXRob2QgfTogT3BlcmF0aW9uLCBpbnB1dHM6IElucHV0cyk6IExpbmVbXSB7XG4gIGlmICghYm9keSkgcmV0dXJuIFtdO1xuICBjb25zdCBqc29uID0gL1svK11qc29uXFxiLy50ZXN0KGJvZHkudHlwZSk7XG4gIGNvbnN0IGZvcm0gPSBib2R5LnR5cGUgPT09ICdhcHBsaWNhdGlvbi94LXd3dy1mb3JtLXVybGVuY29kZWQnO1xuICBpZiAoIWpzb24gJiYgIWZvcm0pIHJldHVybiBbLi4udmFyaWFudExpbmVzKG1ldGhvZCksIC4uLm90aGVyQm9keShib2R5LCBpbnB1dHMpXTtcbiAgY29uc3Qga2luZCA9IGpzb24gPyAnanNvbicgOiAnZm9ybSc7XG4gIGNvbnN0IGxpbmVzID0gd2l0aEFsdGVybmF0aXZlcyhib2R5LmZpZWxkcywgYm9keS5hbHRlcm5hdGl2ZXMsIFtdLCBpbnB1dHMsIHRydWUpO1xuICBpZiAobGluZXMubGVuZ3RoID09PSAwKVxuICAgIHJldHVybiBibG9jaygnYm9keScsIFthY3RpdmUoYCR7a2luZH06ICR7Ym9keS5leGFtcGxlID09PSB1bmRlZmluZWQgPyAne30nIDogZmxvdyhib2R5LmV4YW1wbGUpfWApXSk7XG4gIGlmICghbGluZXMuc29tZSgobGluZSkgPT4gbGluZS5hY3RpdmUpKSB7XG4gICAgLy8gQSBib2R5IG9mIGNvbW1lbnRzIG9ubHkgd291bGQgYmUgbm8gYm9keSBhdCBhbGwuXG4gICAgcmV0dXJuIFtcbiAgICAgIGFjdGl2ZSgnYm9keTonKSxcbiAgICAgIGFjdGl2ZShgICAke2tpbmR9OmApLFxuICAgICAgYWN0aXZlKCcgICAge30nKSxcbiAgICAgIC4uLmxpbmVzLm1hcCgobGluZSkgPT4gKHsgLi4ubGluZSwgdGV4dDogYCAgICAke2xpbmUudGV4dH1gIH0pKSxcbiAgICBdO1xuICB9XG4gIHJldHVybiBbLi4udmFyaWFudExpbmVzKG1ldGhvZCksIC4uLmJsb2NrKCdib2R5JywgYmxvY2soa2luZCwgbGluZXMpKV07XG59XG5cbi8qKiBOZWl0aGVyIEpTT04gbm9yIGEgZm9ybS4gKi9cbmZ1bmN0aW9uIG90aGVyQm9keShib2R5OiBCb2R5LCBpbnB1dHM6IElucHV0cyk6IExpbmVbXSB7XG4gIGNvbnN0IHsgdHlwZSwgcmVxdWlyZWQgfSA9IGJvZHk7XG4gIGNvbnN0IGlzWG1sID0gL1svK114bWxcXGIvLnRlc3QodHlwZSk7XG4gIGNvbnN0IGxpbmVzID0gdHlwZSA9PT0gJ211bHRpcGFydC9mb3JtLWRhdGEnID8gcGFydExpbmVzKGJvZHksIGlucHV0cykgOiBpc1htbCA/IHhtbExpbmVzKGJvZHksIGlucHV0cykgOiBbXTtcbiAgaWYgKGxpbmVzLmxlbmd0aCA+IDApIHJldHVybiBibG9jaygnYm9keScsIGxpbmVzKTtcbiAgaWYgKC9eKD86YXBwbGljYXRpb25cXC8oPzpvY3RldC1zdHJlYW18cGRmfHppcCl8aW1hZ2VcXC98YXVkaW9cXC98dmlkZW9cXC8pLy50ZXN0KHR5cGUpKVxuICAgIHJldHVybiBibG9jaygnYm9keScsIFtmaWxlTGluZSh0eXBlLCByZXF1aXJlZCwgaW5wdXRzKV0pO1xuICByZXR1cm4gW3sgYWN0aXZlOiBmYWxzZSwgdGV4dDogYGJvZHk6IHske2lzWG1sID8gJ3htbCcgOiAndGV4dCd9OiBcIlwifSAgICMgJHt0eXBlfTogaXRzIHRleHQgaXMgeW91cnMgdG8gd3JpdGVgIH1dO1xufVxuXG4vKiogV2hhdCBhIHJlcGxhY2VtZW50IGFuZCBhbiBhbWVuZG1lbnQgZG8gd2l0aCBhIGZpZWxkIHRoYXQgaXMgbGVmdCBvdXQgKFJGQyA5MTEwIHNlY3Rpb24gOS4zLjQsIFJGQyA1Nzg5KS4gKi9cbmZ1bmN0aW9uIHZhcmlhbnRMaW5lcyhtZXRob2Q6IHN0cmluZyk6IExpbmVbXSB7XG4gIGlmIChtZXRob2QgPT09ICdQVVQnKSByZXR1cm4gW2FjdGl2ZSgnIyBBIHJlcGxhY2VtZW50OiB3aGF0IGlzIGxlZnQgb3V0IGhlcmUgaXMgbG9zdCBhdCB0aGUgdmVuZG9yLicpXTtcbiAgaWYgKG1ldGhvZCA9PT0gJ1BBVENIJykgcmV0dXJuIFthY3RpdmUoJyMgQW4gYW1lbmRtZW50OiBvbmx5IHdoYXQgaXMgd3JpdHRlbiBoZXJlIGNoYW5nZXMuJyldO1xuICByZXR1cm4gW107XG59XG5cbi8qKiBUaGUgZmlyc3Qgb2Ygc2V2ZXJhbCBzaGFwZXMsIGFuZCB0aGUgb3RoZXJzIGFzIGNvbW1lbnRzLiAqL1xuZnVuY3Rpb24gd2l0aEFsdGVybmF0aXZlcyhcbiAgZmllbGRzOiByZWFkb25seSBGaWVsZFtdLFxuICBhbHRlcm5hdGl2ZXM6IHJlYWRvbmx5IEFsdGVybmF0aXZlW10gfCB1bmRlZmluZWQsXG4gIHBhdGg6IHJlYWRvbmx5IHN0cmluZ1tdLFxuICBpbnB1dHM6IElucHV0cyxcbiAgb246IGJvb2xlYW4sXG4pOiBMaW5lW10ge1xuICBjb25zdCBbZmlyc3QsIC4uLm90aGVyc10gPSBhbHRlcm5hdGl2ZXMgPz8gW107XG4gIGlmICghZmlyc3QpIHJldHVybiBtZW1iZXJzKGZpZWxkcywgcGF0aCwgaW5wdXRzLCBvbik7XG4gIGNvbnN0IGFib3V0ID0gKHsgbmFtZSwgd2hlbiB9OiBBbHRlcm5hdGl2ZSk6IHN0cmluZyA9PiBgJHtuYW1lfSR7d2hlbiA9PT0gdW5kZWZpbmVkID8gJycgOiBgICgke3doZW59KWB9YDtcbiAgcmV0dXJuIFtcbiAgICBhY3RpdmUoYCMgQXMgJHthYm91dChmaXJzdCl9OmApLFxuICAgIC4uLm1lbWJlcnMoZmlyc3QuZmllbGRzLCBwYXRoLCBpbnB1dHMsIG9uKSxcbiAgICAuLi5vdGhlcnMuZmxhdE1hcCgob3RoZXIpID0+IFthY3RpdmUoYCMgb3IgYXMgJHthYm91dChvdGhlcil9OmApLCAuLi5tZW1iZXJzKG90aGVyLmZpZWxkcywgcGF0aCwgaW5wdXRzLCBmYWxzZSldKSxcbiAgXTtcbn1cblxuZXhwb3J0IGZ1bmN0aW9uIG1lbWJlcnMoZmllbGRzOiByZWFkb25seSBGaWVsZFtdLCBwYXRoOiByZWFkb25seSBzdHJpbmdbXSwgaW5wdXRzOiBJbnB1dHMsIG9uOiBib29sZWFuKTogTGluZVtdIHtcbiAgcmV0dXJuIGZpZWxkc1xuICAgIC5maWx0ZXIoKGZpZWxkKSA9PiAhZmllbGQucmVhZE9ubHkpXG4gICAgLmZsYXRNYXAoKGZpZWxkKSA9PiB7XG4gICAgICBjb25zdCBoZXJlID0gWy4uLnBhdGgsIGZpZWxkLm5hbWVdO1xuICAgICAgY29uc3QgdXNlID0gb24gJiYgZmllbGQucmVxdWlyZWQ7XG4gICAgICBjb25zdCBsaXN0ID0gaXNMaXN0KGZpZWxkLnR5cGUpO1xuICAgICAgaWYgKChmaWVsZC5maWVsZHMgJiYgZmllbGQuZmllbGRzLmxlbmd0aCA+IDApIHx8IGZpZWxkLmFsdGVybmF0aXZlcykge1xuICAgICAgICBjb25zdCBpbm5lciA9IHdpdGhBbHRlcm5hdGl2ZXMoZmllbGQuZmllbGRzID8/IFtdLCBmaWVsZC5hbHRlcm5hdGl2ZXMsIGhlcmUsIGlucHV0cywgdXNlKTtcbiAgICAgICAgY29uc3QgYmVsb3cgPSBsaXN0ID8gYXNJdGVtKGlubmVyKSA6IGlubmVyLm1hcCgobGluZSkgPT4gKHsgLi4ubGluZSwgdGV4dDogYCAgJHtsaW5lLnRleHR9YCB9KSk7XG4gICAgICAgIHJldHVybiBbeyBhY3RpdmU6IHVzZSwgdGV4dDogYCR7a2V5KGZpZWxkLm5hbWUpfToke3JlbWFyayhmaWVsZCl9YCB9LCAuLi5iZWxvd107XG4gICAgICB9XG4gICAgICBjb25zdCBbb25seSwgbW9yZV0gPSBmaWVsZC5hbGxvd2VkID8/IFtdO1xuICAgICAgY29uc3QgZml4ZWQgPSBvbmx5ICE9PSB1bmRlZmluZWQgJiYgbW9yZSA9PT0gdW5kZWZpbmVkICYmICFsaXN0O1xuICAgICAgY29uc3QgdmFsdWUgPSBmaXhlZCA/IGZsb3cob25seSkgOiB1c2UgPyByZWZlcmVuY2UoaW5wdXRzLmFkZChmaWVsZCwgaGVyZSwgJ2JvZHknKSkgOiBmbG93KHNhbXBsZShmaWVsZCkpO1xuICAgICAgcmV0dXJuIFt7IGFjdGl2ZTogdXNlLCB0ZXh0OiBgJHtrZXkoZmllbGQubmFtZSl9OiAke3ZhbHVlfSR7cmVtYXJrKGZpZWxkKX1gIH1dO1xuICAgIH0pO1xufVxuXG4vKiogTWVtYmVycyBhcyB0aGUgb25lIGl0ZW0gb2YgYSBsaXN0OiB0aGUgZGFzaCBzdGFuZHMgYmVmb3JlIHRoZSBmaXJzdCBhY3RpdmUgb25lLiAqL1xuZnVuY3Rpb24gYXNJdGVtKGxpbmVzOiByZWFkb25seSBMaW5lW10pOiBMaW5lW10ge1xuICBjb25zdCBmaXJzdCA9IE1hdGgubWF4KFxuICAgIDAsXG4gICAgbGluZXMuZmluZEluZGV4KChsaW5lKSA9PiBsaW5lLmFjdGl2ZSksXG4gICk7XG4gIHJldHVybiBsaW5lcy5tYXAoKGxpbmUsIGluZGV4KSA9PiAoeyAuLi5saW5lLCB0ZXh0OiBgJHtpbmRleCA9PT0gZmlyc3QgPyAnICAtICcgOiAnICAgICd9JHtsaW5lLnRleHR9YCB9KSk7XG59XG4iLCAiLyoqIFRoZSBkb2N1bWVudCBvZiBhIGRyYWZ0ZWQgY2FsbDogaXRzIHZhcmlhYmxlcyBhbmQgYSBzZWxlY3Rpb24gb2YgdGhlIGFuc3dlci4gKi9cbmltcG9ydCB7IG5lYXJlc3RIaW50IH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9uZWFyZXN0LmpzJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHR5cGUgeyBEZWZpbml0aW9ucywgR3JhcGhxbENhbGwgfSBmcm9tICcuLi9tb2RlbC5qcyc7XG5pbXBvcnQgeyBiYXJlTmFtZSwgaXNSZXF1aXJlZCwgdHlwZSBTY2hlbWFGaWVsZCwgdHlwZU9mIH0gZnJvbSAnLi9zY2hlbWEuanMnO1xuXG5leHBvcnQgaW50ZXJmYWNlIFNlbGVjdGlvblNldHRpbmdzIHtcbiAgLyoqIExldmVscyBiZWxvdyB0aGUgZmllbGQ7IHRoZSB3cmFwcGluZyBvZiBhIGNvbm5lY3Rpb24gKGVkZ2VzLCBub2RlKSBkb2VzIG5vdCBjb3VudC4gKi9cbiAgcmVhZG9ubHkgZGVwdGg6IG51bWJlcjtcbiAgLyoqIE9ubHkgdGhlc2UsIHN1Y2ggYXMgYG5hbWVgIG9yIGBiZXJ0aC5jb2RlYC4gKi9cbiAgcmVhZG9ubHkgZmllbGRzPzogcmVhZG9ubHkgc3RyaW5nW10gfCB1bmRlZmluZWQ7XG59XG5cbi8qKiBUeXBlcyB0aGF0IHdyYXAgb3RoZXJzIGJ5IHRoZSBSZWxheSBjb25uZWN0aW9uIGNvbnZlbnRpb24uICovXG5jb25zdCB3cmFwcGluZyA9IG5ldyBTZXQoWydlZGdlcycsICdub2RlJywgJ25vZGVzJywgJ3BhZ2VJbmZvJ10pO1xuXG4vKipcbiAqIEBwYXJhbSB2YXJpYWJsZXMgdGhvc2Ugb2YgdGhlIGFyZ3VtZW50cyB0aGF0IGFyZSBnaXZlblxuICogQHRocm93cyBQcm9ibGVtIHVzYWdlOiBhIGZpZWxkIHRoYXQgdGhlIHR5cGUgZG9lcyBub3QgaGF2ZVxuICovXG5leHBvcnQgZnVuY3Rpb24gY2FsbERvY3VtZW50KFxuICB7IHJvb3QsIGZpZWxkLCByZXR1cm5zLCBhcmd1bWVudHM6IGFyZ3MgfTogR3JhcGhxbENhbGwsXG4gIGRlZmluaXRpb25zOiBEZWZpbml0aW9ucyxcbiAgdmFyaWFibGVzOiByZWFkb25seSBzdHJpbmdbXSxcbiAgeyBkZXB0aCwgZmllbGRzIH06IFNlbGVjdGlvblNldHRpbmdzLFxuKTogc3RyaW5nIHtcbiAgY29uc3QgdXNlZCA9IGFyZ3MuZmlsdGVyKCh7IG5hbWUgfSkgPT4gdmFyaWFibGVzLmluY2x1ZGVzKG5hbWUpKTtcbiAgY29uc3QgZGVjbGFyZWQgPSB1c2VkLm1hcCgoeyBuYW1lLCB0eXBlIH0pID0+IGAkJHtuYW1lfTogJHt0eXBlfWApLmpvaW4oJywgJyk7XG4gIGNvbnN0IGdpdmVuID0gdXNlZC5tYXAoKHsgbmFtZSB9KSA9PiBgJHtuYW1lfTogJCR7bmFtZX1gKS5qb2luKCcsICcpO1xuICBjb25zdCBjaG9zZW4gPSBmaWVsZHNcbiAgICA/IGNob3NlblNlbGVjdGlvbihcbiAgICAgICAgcmV0dXJucyxcbiAgICAgICAgZmllbGRzLm1hcCgob25lKSA9PiBvbmUuc3BsaXQoJy4nKSksXG4gICAgICAgIGRlZmluaXRpb25zLFxuICAgICAgICBmaWVsZCxcbiAgICAgIClcbiAgICA6IHdob2xlU2VsZWN0aW9uKHJldHVybnMsIGRlZmluaXRpb25zLCBkZXB0aCwgW10pO1xuICBjb25zdCBoZWFkID0gYCR7cm9vdH0gJHtmaWVsZH0ke2RlY2xhcmVkID09PSAnJyA/ICcnIDogYCgke2RlY2xhcmVkfSlgfWA7XG4gIGNvbnN0IGNhbGwgPSBgJHtmaWVsZH0ke2dpdmVuID09PSAnJyA/ICcnIDogYCgke2dpdmVufSlgfWA7XG4gIGNvbnN0IGJvZHkgPSBjaG9zZW4ubGVuZ3RoID09PSAwID8gW2AgICR7Y2FsbH1gXSA6IFtgICAke2NhbGx9IHtgLCAuLi5pbmRlbnRlZChjaG9zZW4sIDIpLCAnICB9J107XG4gIHJldHVybiBbYCR7aGVhZH0ge2AsIC4uLmJvZHksICd9J10uam9pbignXFxuJyk7XG59XG5cbmNvbnN0IGluZGVudGVkID0gKGxpbmVzOiByZWFkb25seSBzdHJpbmdbXSwgbGV2ZWxzOiBudW1iZXIpOiBzdHJpbmdbXSA9PlxuICBsaW5lcy5tYXAoKGxpbmUpID0+ICcgICcucmVwZWF0KGxldmVscykgKyBsaW5lKTtcblxuLyoqIEV2ZXJ5dGhpbmcgdGhhdCBuZWVkcyBubyBhcmd1bWVudCwgdG8gdGhlIGRlcHRoLiAqL1xuZnVuY3Rpb24gd2hvbGVTZWxlY3Rpb24od3JpdHRlbjogc3RyaW5nLCBkZWZpbml0aW9uczogRGVmaW5pdGlvbnMsIGRlcHRoOiBudW1iZXIsIGFib3ZlOiByZWFkb25seSBzdHJpbmdbXSk6IHN0cmluZ1tdIHtcbiAgY29uc3QgdHlwZSA9IHR5cGVPZihkZWZpbml0aW9ucywgYmFyZU5hbWUod3JpdHRlbikpO1xuICBpZiAoIXR5cGUgfHwgdHlwZS5raW5kID09PSAnc2NhbGFyJyB8fCB0eXBlLmtpbmQgPT09ICdlbnVtZXJhdGlvbicgfHwgdHlwZS5raW5kID09PSAnaW5wdXQnKSByZXR1cm4gW107XG4gIGNvbnN0IGluc2lkZSA9IFsuLi5hYm92ZSwgdHlwZS5uYW1lXTtcbiAgY29uc3Qgb3duID0gKHR5cGUuZmllbGRzID8/IFtdKVxuICAgIC5maWx0ZXIoKHsgYXJncyA9IFtdLCBkZXByZWNhdGVkIH0pID0+ICFhcmdzLnNvbWUoaXNSZXF1aXJlZCkgJiYgZGVwcmVjYXRlZCA9PT0gdW5kZWZpbmVkKVxuICAgIC5mbGF0TWFwKChmaWVsZCkgPT4gb25lRmllbGQoZmllbGQsIGRlZmluaXRpb25zLCBkZXB0aCwgaW5zaWRlKSk7XG4gIGNvbnN0IHNoYXBlcyA9ICh0eXBlLnBvc3NpYmxlID8/IFtdKS5mbGF0TWFwKChuYW1lKSA9PiB7XG4gICAgY29uc3Qga25vd24gPSBuZXcgU2V0KCh0eXBlLmZpZWxkcyA/PyBbXSkubWFwKChmaWVsZCkgPT4gZmllbGQubmFtZSkpO1xuICAgIGNvbnN0IGlubmVyID0gKHR5cGVPZihkZWZpbml0aW9ucywgbmFtZSk/LmZpZWxkcyA/PyBbXSlcbiAgICAgIC5maWx0ZXIoXG4gICAgICAgIChmaWVsZCkgPT4gIWtub3duLmhhcyhmaWVsZC5uYW1lKSAmJiAhKGZpZWxkLmFyZ3MgPz8gW10pLnNvbWUoaXNSZXF1aXJlZCkgJiYgZmllbGQuZGVwcmVjYXRlZCA9PT0gdW5kZWZpbmVkLFxuICAgICAgKVxuICAgICAgLmZsYXRNYXAoKGZpZWxkKSA9PiBvbmVGaWVsZChmaWVsZCwgZGVmaW5pdGlvbnMsIGRlcHRoLCBbLi4uaW5zaWRlLCBuYW1lXSkpO1xuICAgIHJldHVybiBpbm5lci5sZW5ndGggPT09IDAgPyBbXSA6IFtgLi4uIG9uICR7bmFtZX0ge2AsIC4uLmluZGVudGVkKGlubmVyLCAxKSwgJ30nXTtcbiAgfSk7XG4gIGNvbnN0IGxpbmVzID0gWy4uLih0eXBlLmtpbmQgPT09ICdvYmplY3QnID8gW10gOiBbJ19fdHlwZW5hbWUnXSksIC4uLm93biwgLi4uc2hhcGVzXTtcbiAgcmV0dXJuIGxpbmVzLmxlbmd0aCA9PT0gMCA/IFsnX190eXBlbmFtZSddIDogbGluZXM7XG59XG5cbmZ1bmN0aW9uIG9uZUZpZWxkKGZpZWxkOiBTY2hlbWFGaWVsZCwgZGVmaW5pdGlvbnM6IERlZmluaXRpb25zLCBkZXB0aDogbnVtYmVyLCBhYm92ZTogcmVhZG9ubHkgc3RyaW5nW10pOiBzdHJpbmdbXSB7XG4gIGNvbnN0IHR5cGUgPSB0eXBlT2YoZGVmaW5pdGlvbnMsIGJhcmVOYW1lKGZpZWxkLnR5cGUpKTtcbiAgaWYgKCF0eXBlIHx8IHR5cGUua2luZCA9PT0gJ3NjYWxhcicgfHwgdHlwZS5raW5kID09PSAnZW51bWVyYXRpb24nKSByZXR1cm4gW2ZpZWxkLm5hbWVdO1xuICBjb25zdCBsZWZ0ID0gd3JhcHBpbmcuaGFzKGZpZWxkLm5hbWUpID8gZGVwdGggOiBkZXB0aCAtIDE7XG4gIGlmIChsZWZ0IDwgMCB8fCBhYm92ZS5pbmNsdWRlcyh0eXBlLm5hbWUpKSByZXR1cm4gW107XG4gIGNvbnN0IGlubmVyID0gd2hvbGVTZWxlY3Rpb24oZmllbGQudHlwZSwgZGVmaW5pdGlvbnMsIGxlZnQsIGFib3ZlKTtcbiAgcmV0dXJuIFtgJHtmaWVsZC5uYW1lfSB7YCwgLi4uaW5kZW50ZWQoaW5uZXIsIDEpLCAnfSddO1xufVxuXG4vKiogT25seSB3aGF0IHdhcyBhc2tlZCBmb3I7IG9mIGFuIG9iamVjdCBhdCB0aGUgZW5kIG9mIGEgcGF0aCwgaXRzIHBsYWluIGZpZWxkcy4gKi9cbmZ1bmN0aW9uIGNob3NlblNlbGVjdGlvbih3cml0dGVuOiBzdHJpbmcsIHBhdGhzOiByZWFkb25seSBzdHJpbmdbXVtdLCBkZWZpbml0aW9uczogRGVmaW5pdGlvbnMsIGF0OiBzdHJpbmcpOiBzdHJpbmdbXSB7XG4gIGNvbnN0IHR5cGUgPSB0eXBlT2YoZGVmaW5pdGlvbnMsIGJhcmVOYW1lKHdyaXR0ZW4pKTtcbiAgY29uc3QgZ3JvdXBzID0gbmV3IE1hcDxzdHJpbmcsIHN0cmluZ1tdW10+KCk7XG4gIGZvciAoY29uc3QgW2ZpcnN0LCAuLi5yZXN0XSBvZiBwYXRocylcbiAgICBpZiAoZmlyc3QgIT09IHVuZGVmaW5lZCkgZ3JvdXBzLnNldChmaXJzdCwgWy4uLihncm91cHMuZ2V0KGZpcnN0KSA/PyBbXSksIHJlc3RdKTtcbiAgcmV0dXJuIFsuLi5ncm91cHNdLmZsYXRNYXAoKFtuYW1lLCByZXN0c10pID0+IHtcbiAgICBjb25zdCBmaWVsZCA9IHR5cGU/LmZpZWxkcz8uZmluZCgob25lKSA9PiBvbmUubmFtZSA9PT0gbmFtZSk7XG4gICAgaWYgKCFmaWVsZCkge1xuICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ3VzYWdlJywge1xuICAgICAgICB3aGF0OiBgJHthdH0gKCR7d3JpdHRlbn0pIGhhcyBubyBmaWVsZCAke25hbWV9YCxcbiAgICAgICAgcmVtZWR5OlxuICAgICAgICAgIG5lYXJlc3RIaW50KFxuICAgICAgICAgICAgbmFtZSxcbiAgICAgICAgICAgICh0eXBlPy5maWVsZHMgPz8gW10pLm1hcCgob25lKSA9PiBvbmUubmFtZSksXG4gICAgICAgICAgKSA/PyBgZWNoby10cmFpbCBkb2NzIHNob3cgLS10eXBlICR7YmFyZU5hbWUod3JpdHRlbil9YCxcbiAgICAgIH0pO1xuICAgIH1cbiAgICBjb25zdCBkZWVwZXIgPSByZXN0cy5maWx0ZXIoKHJlc3QpID0+IHJlc3QubGVuZ3RoID4gMCk7XG4gICAgY29uc3QgaW5uZXIgPVxuICAgICAgZGVlcGVyLmxlbmd0aCA+IDBcbiAgICAgICAgPyBjaG9zZW5TZWxlY3Rpb24oZmllbGQudHlwZSwgZGVlcGVyLCBkZWZpbml0aW9ucywgYCR7YXR9LiR7bmFtZX1gKVxuICAgICAgICA6IHdob2xlU2VsZWN0aW9uKGZpZWxkLnR5cGUsIGRlZmluaXRpb25zLCAwLCBbXSk7XG4gICAgcmV0dXJuIGlubmVyLmxlbmd0aCA9PT0gMCA/IFtuYW1lXSA6IFtgJHtuYW1lfSB7YCwgLi4uaW5kZW50ZWQoaW5uZXIsIDEpLCAnfSddO1xuICB9KTtcbn1cbiIsICIvKiogVGhlIGNhbGwgb2YgYSBHcmFwaFFMIGZpZWxkOiBpdHMgZG9jdW1lbnQsIGFuZCB0aGUgdmFyaWFibGVzIHRoYXQgaXQgd2FudHMuICovXG5pbXBvcnQgeyBjYWxsRG9jdW1lbnQsIHR5cGUgU2VsZWN0aW9uU2V0dGluZ3MgfSBmcm9tICcuLi9ncmFwaHFsL3NlbGVjdGlvbi5qcyc7XG5pbXBvcnQgdHlwZSB7IERlZmluaXRpb25zLCBHcmFwaHFsQ2FsbCwgT3BlcmF0aW9uIH0gZnJvbSAnLi4vbW9kZWwuanMnO1xuaW1wb3J0IHsgbWVtYmVycyB9IGZyb20gJy4vYm9keS5qcyc7XG5pbXBvcnQgdHlwZSB7IElucHV0cyB9IGZyb20gJy4vaW5wdXRzLmpzJztcbmltcG9ydCB7IGFjdGl2ZSwgYmxvY2ssIHR5cGUgQ2FsbExpbmVzLCB0eXBlIExpbmUsIHNjYWxhciB9IGZyb20gJy4vbGluZXMuanMnO1xuXG4vKiogTGV2ZWxzIG9mIHRoZSBhbnN3ZXIgdGhhdCBhcmUgYXNrZWQgZm9yIHdoZXJlIG5vdGhpbmcgaXMgc2FpZC4gKi9cbmNvbnN0IHVzdWFsRGVwdGggPSAyO1xuXG5leHBvcnQgZnVuY3Rpb24gZ3JhcGhxbExpbmVzKFxuICB7IHBhcmFtZXRlcnMsIGNoYW5nZXMgfTogT3BlcmF0aW9uLFxuICBjYWxsOiBHcmFwaHFsQ2FsbCxcbiAgZGVmaW5pdGlvbnM6IERlZmluaXRpb25zLFxuICBzZWxlY3Rpb246IFBhcnRpYWw8U2VsZWN0aW9uU2V0dGluZ3M+IHwgdW5kZWZpbmVkLFxuICBpbnB1dHM6IElucHV0cyxcbik6IENhbGxMaW5lcyB7XG4gIGNvbnN0IHJlcXVpcmVkID0gcGFyYW1ldGVycy5maWx0ZXIoKG9uZSkgPT4gb25lLnJlcXVpcmVkKS5tYXAoKHsgbmFtZSB9KSA9PiBuYW1lKTtcbiAgLy8gQSB2YXJpYWJsZSB0aGF0IGlzIGRlY2xhcmVkIGFuZCBub3QgdXNlZCBpcyByZWZ1c2VkLCBzbyBvcHRpb25hbCBvbmVzIGFyZSBpbiB0aGUgZG9jdW1lbnQgZnJvbSB0aGUgc3RhcnQuXG4gIGNvbnN0IG9wdGlvbmFsID0gcGFyYW1ldGVycy5maWx0ZXIoKG9uZSkgPT4gIW9uZS5yZXF1aXJlZCAmJiBvbmUuZGVwcmVjYXRlZCAhPT0gdHJ1ZSkubWFwKCh7IG5hbWUgfSkgPT4gbmFtZSk7XG4gIGNvbnN0IGRvY3VtZW50ID0gY2FsbERvY3VtZW50KGNhbGwsIGRlZmluaXRpb25zLCBbLi4ucmVxdWlyZWQsIC4uLm9wdGlvbmFsXSwgeyBkZXB0aDogdXN1YWxEZXB0aCwgLi4uc2VsZWN0aW9uIH0pO1xuICBjb25zdCB7IHBhdGhuYW1lID0gJy9ncmFwaHFsJyB9ID0gY2FsbC5lbmRwb2ludCA9PT0gdW5kZWZpbmVkID8ge30gOiBuZXcgVVJMKGNhbGwuZW5kcG9pbnQpO1xuICBjb25zdCB2YXJpYWJsZXMgPSBtZW1iZXJzKHBhcmFtZXRlcnMsIFtdLCBpbnB1dHMsIHRydWUpO1xuICBjb25zdCBncmFwaHFsOiBMaW5lW10gPSBbXG4gICAgYWN0aXZlKCdkb2N1bWVudDogfCcpLFxuICAgIC4uLmRvY3VtZW50LnNwbGl0KCdcXG4nKS5tYXAoKGxpbmUpID0+IGFjdGl2ZShgICAke2xpbmV9YCkpLFxuICAgIC4uLmJsb2NrKCd2YXJpYWJsZXMnLCB2YXJpYWJsZXMpLFxuICBdO1xuICByZXR1cm4ge1xuICAgIGFkZHJlc3M6IFtcbiAgICAgIFtcbiAgICAgICAgYWN0aXZlKCdtZXRob2Q6IFBPU1QnKSxcbiAgICAgICAgYWN0aXZlKGB1cmw6IFxcJHtvcmlnaW59JHtwYXRobmFtZX1gKSxcbiAgICAgICAgLi4uKGNoYW5nZXMgPyBbXSA6IFthY3RpdmUoJ2NoYW5nZXM6IGZhbHNlICAgICAgICAgICAgICAgICAgICAgICMgYSBxdWVyeSwgYWx0aG91Z2ggaXQgaXMgYSBQT1NUJyldKSxcbiAgICAgIF0sXG4gICAgICBibG9jaygnaGVhZGVycycsIFthY3RpdmUoYEFjY2VwdDogJHtzY2FsYXIoJ2FwcGxpY2F0aW9uL2dyYXBocWwtcmVzcG9uc2UranNvbiwgYXBwbGljYXRpb24vanNvbicpfWApXSksXG4gICAgXSxcbiAgICBib2R5OiBbXG4gICAgICBibG9jaygnYm9keScsIGJsb2NrKCdncmFwaHFsJywgZ3JhcGhxbCkpLFxuICAgICAgYmxvY2soJ2V4cGVjdCcsIFtcbiAgICAgICAgYWN0aXZlKCdzdGF0dXM6IDIwMCcpLFxuICAgICAgICBhY3RpdmUoJ2Vycm9yczoge2NvdW50OiAwfScpLFxuICAgICAgICBhY3RpdmUoYCR7c2NhbGFyKGAkLmRhdGEuJHtjYWxsLmZpZWxkfWApfToge2V4aXN0czogdHJ1ZX1gKSxcbiAgICAgIF0pLFxuICAgIF0sXG4gIH07XG59XG4iLCAiLyoqIFRoZSBpbnB1dHMgb2YgYSBkcmFmdGVkIGZpbGU6IHdoYXQgdGhlIGVuZ2luZWVyIG11c3Qgc3VwcGx5LiAqL1xuaW1wb3J0IHR5cGUgeyBWYWx1ZSB9IGZyb20gJy4uLy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHR5cGUgeyBGaWVsZCB9IGZyb20gJy4uL21vZGVsLmpzJztcbmltcG9ydCB7IGFjdGl2ZSwgZmxvdywgaXNMaXN0LCB0eXBlIExpbmUsIG9uZUxpbmUsIHBsYWluVHlwZSwgc2NhbGFyIH0gZnJvbSAnLi9saW5lcy5qcyc7XG5cbi8qKiBJbnB1dHMgYnkgbmFtZSwgaW4gdGhlIG9yZGVyIGluIHdoaWNoIHRoZXkgd2VyZSBuZWVkZWQuICovXG5leHBvcnQgY2xhc3MgSW5wdXRzIHtcbiAgcHJpdmF0ZSByZWFkb25seSBmaWVsZHMgPSBuZXcgTWFwPHN0cmluZywgRmllbGQ+KCk7XG5cbiAgLyoqIEBwYXJhbSBzdXBwbGllcnMgd2hhdCBzdXBwbGllcyB0aGUgdmFsdWVzIG9mIGFuIGlucHV0LCBieSB0aGUgbmFtZSBvZiBpdHMgZmllbGQgKi9cbiAgY29uc3RydWN0b3IocHJpdmF0ZSByZWFkb25seSBzdXBwbGllcnM6IFJlYWRvbmx5TWFwPHN0cmluZywgU3VwcGxpZXI+ID0gbmV3IE1hcCgpKSB7fVxuXG4gIC8qKiBUaGUgbmFtZSBvZiB0aGUgaW5wdXQgZm9yIGEgZmllbGQ7IGEgc2Vjb25kIGZpZWxkIG9mIHRoYXQgbmFtZSBnZXRzIGl0cyBob2xkZXIncyBuYW1lIGJlZm9yZSBpdC4gKi9cbiAgYWRkKGZpZWxkOiBGaWVsZCwgcGF0aDogcmVhZG9ubHkgc3RyaW5nW10sIGhvbGRlcjogc3RyaW5nKTogc3RyaW5nIHtcbiAgICBjb25zdCBvd24gPSBpbnB1dE5hbWUoZmllbGQubmFtZSk7XG4gICAgY29uc3QgbG9uZ2VyID0gaW5wdXROYW1lKFsuLi5wYXRoLnNsaWNlKC0yLCAtMSksIGZpZWxkLm5hbWVdLmpvaW4oJy0nKSk7XG4gICAgY29uc3QgbmFtZSA9XG4gICAgICBbb3duLCBsb25nZXIsIGlucHV0TmFtZShgJHtob2xkZXJ9LSR7ZmllbGQubmFtZX1gKV0uZmluZCgoY2FuZGlkYXRlKSA9PiAhdGhpcy5maWVsZHMuaGFzKGNhbmRpZGF0ZSkpID8/XG4gICAgICBgJHtvd259LSR7dGhpcy5maWVsZHMuc2l6ZX1gO1xuICAgIHRoaXMuZmllbGRzLnNldChuYW1lLCBmaWVsZCk7XG4gICAgcmV0dXJuIG5hbWU7XG4gIH1cblxuICBwcml2YXRlIHN1cHBsaWVyTGluZXMoeyBuYW1lIH06IEZpZWxkKTogc3RyaW5nW10ge1xuICAgIGNvbnN0IHN1cHBsaWVyID0gdGhpcy5zdXBwbGllcnMuZ2V0KG5hbWUpO1xuICAgIGlmICghc3VwcGxpZXIpIHJldHVybiBbXTtcbiAgICBjb25zdCB3aHkgPSBzdXBwbGllci5ndWVzcyA/ICcgICAjIGEgZ3Vlc3MnIDogJyc7XG4gICAgcmV0dXJuIHN1cHBsaWVyLmRyYWZ0ZWRcbiAgICAgID8gW2BjaG9vc2UtZnJvbTogJHtzY2FsYXIoc3VwcGxpZXIuZnJvbSl9JHt3aHl9YF1cbiAgICAgIDogW2AjIHN1cHBsaWVkIGJ5ICR7c3VwcGxpZXIuZnJvbX0ke3N1cHBsaWVyLmd1ZXNzID8gJywgYXMgYSBndWVzcycgOiAnJ31gXTtcbiAgfVxuXG4gIGxpbmVzKCk6IExpbmVbXSB7XG4gICAgcmV0dXJuIFsuLi50aGlzLmZpZWxkc10uZmxhdE1hcCgoW25hbWUsIGZpZWxkXSkgPT4gW1xuICAgICAgYWN0aXZlKGAke25hbWV9OmApLFxuICAgICAgLi4uW1xuICAgICAgICBmaWVsZC5kZXNjcmlwdGlvbiAmJiBgYWJvdXQ6ICR7c2NhbGFyKG9uZUxpbmUoZmllbGQuZGVzY3JpcHRpb24pKX1gLFxuICAgICAgICBgdHlwZTogJHtwbGFpblR5cGUoZmllbGQudHlwZSl9YCxcbiAgICAgICAgLi4ubWF0Y2hlckxpbmVzKGZpZWxkKSxcbiAgICAgICAgZmllbGQuZGVmYXVsdCAhPT0gdW5kZWZpbmVkICYmIGBkZWZhdWx0OiAke2Zsb3coZmllbGQuZGVmYXVsdCl9YCxcbiAgICAgICAgLi4udGhpcy5zdXBwbGllckxpbmVzKGZpZWxkKSxcbiAgICAgICAgZmllbGQuZXhhbXBsZSAhPT0gdW5kZWZpbmVkICYmIGZpZWxkLmRlZmF1bHQgPT09IHVuZGVmaW5lZCAmJiBgIyBzdWNoIGFzICR7ZmxvdyhmaWVsZC5leGFtcGxlKX1gLFxuICAgICAgXVxuICAgICAgICAuZmlsdGVyKChsaW5lKSA9PiB0eXBlb2YgbGluZSA9PT0gJ3N0cmluZycpXG4gICAgICAgIC5tYXAoKGxpbmUpID0+IGFjdGl2ZShgICAke2xpbmV9YCkpLFxuICAgIF0pO1xuICB9XG59XG5cbi8qKiBXaGVyZSB0aGUgdmFsdWVzIG9mIGFuIGlkZW50aWZpZXIgY29tZSBmcm9tLiAqL1xuZXhwb3J0IGludGVyZmFjZSBTdXBwbGllciB7XG4gIC8qKiBBIHJlcXVlc3Qgb2YgdGhlIGNvbGxlY3Rpb24gYW5kIGEgcGxhY2U6IGBiZXJ0aHMvZnJlZSwgJC5pdGVtc1sqXS5jb2RlYDsgb3IgYW4gb3BlcmF0aW9uIHdoZXJlIG5vIHJlcXVlc3QgY2FsbHMgaXQgeWV0LiAqL1xuICByZWFkb25seSBmcm9tOiBzdHJpbmc7XG4gIC8qKiBGYWxzZSB3aGVyZSBpdCBpcyBhIHJlcXVlc3Qgb2YgdGhlIGNvbGxlY3Rpb24uICovXG4gIHJlYWRvbmx5IGRyYWZ0ZWQ6IGJvb2xlYW47XG4gIC8qKiBUcnVlIHdoZXJlIHRoZSBkb2N1bWVudGF0aW9uIGRvZXMgbm90IHNheSBpdC4gKi9cbiAgcmVhZG9ubHkgZ3Vlc3M6IGJvb2xlYW47XG59XG5cbi8qKiBBbGxvd2VkIHZhbHVlcyBhbmQgbGltaXRzIHRoYXQgYW4gaW5wdXQgdW5kZXJzdGFuZHMuICovXG5mdW5jdGlvbiBtYXRjaGVyTGluZXMoeyBhbGxvd2VkLCBsaW1pdHMgPSB7fSwgdHlwZSB9OiBGaWVsZCk6IHN0cmluZ1tdIHtcbiAgY29uc3QgbGluZXMgPSBhbGxvd2VkICYmICFpc0xpc3QodHlwZSkgPyBbYG9uZS1vZjogJHtmbG93KGFsbG93ZWQgYXMgVmFsdWUpfWBdIDogW107XG4gIGZvciAoY29uc3QgbmFtZSBvZiBbJ2F0LWxlYXN0JywgJ2F0LW1vc3QnLCAnb3ZlcicsICd1bmRlcicsICdtYXRjaGVzJ10gYXMgY29uc3QpIHtcbiAgICBjb25zdCB2YWx1ZSA9IGxpbWl0c1tuYW1lXTtcbiAgICBpZiAodmFsdWUgIT09IHVuZGVmaW5lZCkgbGluZXMucHVzaChgJHtuYW1lfTogJHtmbG93KHZhbHVlKX1gKTtcbiAgfVxuICByZXR1cm4gbGluZXM7XG59XG5cbmV4cG9ydCBjb25zdCBpbnB1dE5hbWUgPSAobmFtZTogc3RyaW5nKTogc3RyaW5nID0+XG4gIG5hbWUucmVwbGFjZSgvW15cXHB7TH1cXHB7Tn1fXSsvZ3UsICctJykucmVwbGFjZSgvXlteXFxwe0x9X10rfC0kL2d1LCAnJykgfHwgJ3ZhbHVlJztcbiIsICIvKiogVGhlIGNhbGwgb2YgYSBTT0FQIG9wZXJhdGlvbjogaXRzIGVudmVsb3BlIHdpdGggaW5wdXRzIGluIGl0LiAqL1xuaW1wb3J0IHsgZXNjYXBlZCB9IGZyb20gJy4uL2VzY2FwZS14bWwuanMnO1xuaW1wb3J0IHR5cGUgeyBEZWZpbml0aW9ucywgT3BlcmF0aW9uLCBPcGVyYXRpb25FbnRyeSwgU29hcENhbGwgfSBmcm9tICcuLi9tb2RlbC5qcyc7XG5pbXBvcnQgeyBlbnZlbG9wZVRleHQsIHR5cGUgTGVhZiwgc2FtcGxlVGV4dCB9IGZyb20gJy4uL3dzZGwvZW52ZWxvcGUuanMnO1xuaW1wb3J0IHR5cGUgeyBPd25Tb2FwT3BlcmF0aW9uIH0gZnJvbSAnLi4vd3NkbC9tb2RlbC5qcyc7XG5pbXBvcnQgdHlwZSB7IElucHV0cyB9IGZyb20gJy4vaW5wdXRzLmpzJztcbmltcG9ydCB7IGFjdGl2ZSwgYmxvY2ssIHR5cGUgQ2FsbExpbmVzLCByZWZlcmVuY2UsIHNjYWxhciB9IGZyb20gJy4vbGluZXMuanMnO1xuXG5leHBvcnQgZnVuY3Rpb24gc29hcExpbmVzKFxuICB7IGNoYW5nZXMgfTogT3BlcmF0aW9uLFxuICB7IHZlcnNpb24sIGFjdGlvbiwgYWRkcmVzcyB9OiBTb2FwQ2FsbCxcbiAgZW50cnk6IE9wZXJhdGlvbkVudHJ5LFxuICBkZWZpbml0aW9uczogRGVmaW5pdGlvbnMsXG4gIGlucHV0czogSW5wdXRzLFxuKTogQ2FsbExpbmVzIHtcbiAgY29uc3QgaW5wdXQgPSAobGVhZjogTGVhZik6IHN0cmluZyA9PiB7XG4gICAgaWYgKCFsZWFmLmFjdGl2ZSkgcmV0dXJuIGVzY2FwZWQoc2FtcGxlVGV4dChsZWFmKSk7XG4gICAgY29uc3QgeyBwYXRoLCB0eXBlLCBhbGxvd2VkLCBsaW1pdHMsIGFib3V0LCBkZWZhdWx0OiBmYWxsYmFjayB9ID0gbGVhZjtcbiAgICBjb25zdCBmaWVsZCA9IHtcbiAgICAgIG5hbWU6IHBhdGguYXQoLTEpID8/ICd2YWx1ZScsXG4gICAgICB0eXBlLFxuICAgICAgcmVxdWlyZWQ6IHRydWUsXG4gICAgICAuLi4oYWxsb3dlZCAmJiB7IGFsbG93ZWQgfSksXG4gICAgICAuLi4obGltaXRzICYmIHsgbGltaXRzIH0pLFxuICAgICAgLi4uKGFib3V0ICE9PSB1bmRlZmluZWQgJiYgeyBkZXNjcmlwdGlvbjogYWJvdXQgfSksXG4gICAgICAuLi4oZmFsbGJhY2sgIT09IHVuZGVmaW5lZCAmJiB7IGRlZmF1bHQ6IGZhbGxiYWNrIH0pLFxuICAgIH07XG4gICAgcmV0dXJuIHJlZmVyZW5jZShpbnB1dHMuYWRkKGZpZWxkLCBwYXRoLCAnYm9keScpKTtcbiAgfTtcbiAgY29uc3QgZW52ZWxvcGUgPSBlbnZlbG9wZVRleHQoZW50cnkub3duIGFzIHVua25vd24gYXMgT3duU29hcE9wZXJhdGlvbiwgZGVmaW5pdGlvbnMsIGlucHV0KTtcbiAgY29uc3QgcGF0aCA9IFVSTC5jYW5QYXJzZShhZGRyZXNzKSA/IG5ldyBVUkwoYWRkcmVzcykucGF0aG5hbWUgOiAnLyc7XG4gIHJldHVybiB7XG4gICAgYWRkcmVzczogW1xuICAgICAgW1xuICAgICAgICBhY3RpdmUoJ21ldGhvZDogUE9TVCcpLFxuICAgICAgICBhY3RpdmUoYHVybDogXFwke29yaWdpbn0ke3BhdGh9YCksXG4gICAgICAgIC4uLihjaGFuZ2VzID8gW10gOiBbYWN0aXZlKCdjaGFuZ2VzOiBmYWxzZSAgICAgICAgICAgICAgICAgICAgICAjIGJ5IGl0cyBuYW1lIGEgY2FsbCB0aGF0IG9ubHkgcmVhZHMnKV0pLFxuICAgICAgXSxcbiAgICBdLFxuICAgIGJvZHk6IFtcbiAgICAgIGJsb2NrKFxuICAgICAgICAnYm9keScsXG4gICAgICAgIGJsb2NrKCdzb2FwJywgW1xuICAgICAgICAgIGFjdGl2ZShgdmVyc2lvbjogXCIke3ZlcnNpb259XCJgKSxcbiAgICAgICAgICAuLi4oYWN0aW9uID09PSAnJyAmJiB2ZXJzaW9uID09PSAnMS4yJyA/IFtdIDogW2FjdGl2ZShgYWN0aW9uOiAke3NjYWxhcihhY3Rpb24gPT09ICcnID8gJ1wiXCInIDogYWN0aW9uKX1gKV0pLFxuICAgICAgICAgIGFjdGl2ZSgnZW52ZWxvcGU6IHwnKSxcbiAgICAgICAgICAuLi5lbnZlbG9wZS5zcGxpdCgnXFxuJykubWFwKChsaW5lKSA9PiBhY3RpdmUoYCAgJHtsaW5lfWApKSxcbiAgICAgICAgXSksXG4gICAgICApLFxuICAgICAgYmxvY2soJ2V4cGVjdCcsIFthY3RpdmUoJ3N0YXR1czogMjAwJyksIGFjdGl2ZSgnZXJyb3JzOiB7Y291bnQ6IDB9JyldKSxcbiAgICBdLFxuICB9O1xufVxuIiwgIi8qKiBBIHJlcXVlc3QgZmlsZSB3cml0dGVuIGZyb20gdGhlIGRvY3VtZW50YXRpb246IHdoYXQgaXMgcmVxdWlyZWQgaXMgYWN0aXZlLCB0aGUgcmVzdCBpcyB0aGVyZSBhcyBjb21tZW50cy4gKi9cbmltcG9ydCB0eXBlIHsgU2VsZWN0aW9uU2V0dGluZ3MgfSBmcm9tICcuLi9ncmFwaHFsL3NlbGVjdGlvbi5qcyc7XG5pbXBvcnQgdHlwZSB7IERlZmluaXRpb25zLCBGaWVsZCwgT3BlcmF0aW9uLCBPcGVyYXRpb25FbnRyeSwgUGFyYW1ldGVyIH0gZnJvbSAnLi4vbW9kZWwuanMnO1xuaW1wb3J0IHsgYm9keUxpbmVzIH0gZnJvbSAnLi9ib2R5LmpzJztcbmltcG9ydCB7IGdyYXBocWxMaW5lcyB9IGZyb20gJy4vZ3JhcGhxbC5qcyc7XG5pbXBvcnQgeyBJbnB1dHMsIGlucHV0TmFtZSwgdHlwZSBTdXBwbGllciB9IGZyb20gJy4vaW5wdXRzLmpzJztcbmltcG9ydCB7XG4gIGFjdGl2ZSxcbiAgYmxvY2ssXG4gIHR5cGUgQ2FsbExpbmVzLFxuICBjb21tZW50ZWQsXG4gIGZsb3csXG4gIGtleSxcbiAgdHlwZSBMaW5lLFxuICBvbmVMaW5lLFxuICByZWZlcmVuY2UsXG4gIHJlbWFyayxcbiAgc2FtcGxlLFxuICBzY2FsYXIsXG59IGZyb20gJy4vbGluZXMuanMnO1xuaW1wb3J0IHsgc29hcExpbmVzIH0gZnJvbSAnLi9zb2FwLmpzJztcblxuZXhwb3J0IGludGVyZmFjZSBEcmFmdFNldHRpbmdzIHtcbiAgLyoqIFdoYXQgdGhlIGluZGV4IGhhcyBvZiB0aGUgb3BlcmF0aW9uLCBhbmQgb2Ygd2hhdCBpdCByZWZlcnMgdG8uICovXG4gIHJlYWRvbmx5IGVudHJ5OiBPcGVyYXRpb25FbnRyeTtcbiAgcmVhZG9ubHkgZGVmaW5pdGlvbnM6IERlZmluaXRpb25zO1xuICAvKiogV2hhdCBzdXBwbGllcyB0aGUgdmFsdWVzIG9mIHBhcmFtZXRlcnMgYW5kIGZpZWxkcywgYnkgdGhlaXIgbmFtZXMuICovXG4gIHJlYWRvbmx5IHN1cHBsaWVycz86IFJlYWRvbmx5TWFwPHN0cmluZywgU3VwcGxpZXI+IHwgdW5kZWZpbmVkO1xuICAvKiogT2YgdGhlIGFuc3dlciBvZiBhIEdyYXBoUUwgY2FsbC4gKi9cbiAgcmVhZG9ubHkgc2VsZWN0aW9uPzogUGFydGlhbDxTZWxlY3Rpb25TZXR0aW5ncz4gfCB1bmRlZmluZWQ7XG4gIC8qKiBGcm9tIHRoZSByZXF1ZXN0IGZpbGUgdG8gdGhlIEpTT04gU2NoZW1hIHRoYXQgZWRpdG9ycyB1bmRlcnN0YW5kLiAqL1xuICByZWFkb25seSBzY2hlbWE6IHN0cmluZztcbiAgLyoqIFRoZSBvbmx5IHNlc3Npb24gb2YgdGhlIGNvbGxlY3Rpb24sIHdoZXJlIHRoZXJlIGlzIGp1c3Qgb25lLiAqL1xuICByZWFkb25seSBzZXNzaW9uPzogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICAvKiogVGhlIHNpZ25hdHVyZSB0aGF0IHRoZSBvcGVyYXRpb24gd2FudHMsIGFuZCB0aGUgaGVhZGVycyB0aGF0IGl0IG1ha2VzIGl0c2VsZi4gKi9cbiAgcmVhZG9ubHkgc2lnbmF0dXJlPzogeyByZWFkb25seSBuYW1lOiBzdHJpbmc7IHJlYWRvbmx5IG1ha2VzOiBSZWFkb25seVNldDxzdHJpbmc+IH0gfCB1bmRlZmluZWQ7XG59XG5cbi8qKiBUaGUgcGF0aCBiZWxvdyBgcmVxdWVzdHMvYCB0aGF0IGEgZHJhZnQgZ2V0cyB3aGVyZSBub25lIGlzIGFza2VkIGZvci4gKi9cbmV4cG9ydCBmdW5jdGlvbiBkcmFmdE5hbWUoeyBncm91cCwgaWQgfTogT3BlcmF0aW9uKTogc3RyaW5nIHtcbiAgcmV0dXJuIGAke3NsdWcoZ3JvdXApfS8ke3NsdWcoaWQpfWA7XG59XG5cbmZ1bmN0aW9uIHNsdWcodGV4dDogc3RyaW5nKTogc3RyaW5nIHtcbiAgcmV0dXJuIHRleHRcbiAgICAucmVwbGFjZSgvKFtcXHB7TGx9XFxwe059XSkoXFxwe0x1fSkvZ3UsICckMS0kMicpXG4gICAgLnRvTG93ZXJDYXNlKClcbiAgICAucmVwbGFjZSgvW15cXHB7TH1cXHB7Tn1dKy9ndSwgJy0nKVxuICAgIC5yZXBsYWNlKC9eLXwtJC9nLCAnJyk7XG59XG5cbi8qKiBUaGUgdGV4dCBvZiB0aGUgZmlsZS4gKi9cbmV4cG9ydCBmdW5jdGlvbiBkcmFmdFJlcXVlc3Qob3BlcmF0aW9uOiBPcGVyYXRpb24sIHNldHRpbmdzOiBEcmFmdFNldHRpbmdzKTogc3RyaW5nIHtcbiAgY29uc3QgaW5wdXRzID0gbmV3IElucHV0cyhzZXR0aW5ncy5zdXBwbGllcnMpO1xuICBjb25zdCBjYWxsID0gY2FsbExpbmVzKHVuc2lnbmVkKG9wZXJhdGlvbiwgc2V0dGluZ3MpLCBzZXR0aW5ncywgaW5wdXRzKTtcbiAgY29uc3QgeyBzY2hlbWEsIHNlc3Npb24sIHNpZ25hdHVyZSB9ID0gc2V0dGluZ3M7XG4gIGNvbnN0IGJsb2NrczogTGluZVtdW10gPSBbXG4gICAgW2FjdGl2ZShgIyB5YW1sLWxhbmd1YWdlLXNlcnZlcjogJHNjaGVtYT0ke3NjaGVtYX1gKV0sXG4gICAgW1xuICAgICAgYWN0aXZlKGBhYm91dDogJHtzY2FsYXIob25lTGluZShvcGVyYXRpb24uc3VtbWFyeSA/PyBvcGVyYXRpb24uZGVzY3JpcHRpb24gPz8gb3BlcmF0aW9uLmlkKSl9YCksXG4gICAgICBhY3RpdmUoYG9wZXJhdGlvbjogJHtzY2FsYXIoYCR7b3BlcmF0aW9uLnNvdXJjZX0vJHtvcGVyYXRpb24uaWR9YCl9YCksXG4gICAgICAuLi4ob3BlcmF0aW9uLmRlcHJlY2F0ZWQgPyBbYWN0aXZlKCcjIFRoZSBkb2N1bWVudGF0aW9uIGNhbGxzIHRoaXMgb3BlcmF0aW9uIGRlcHJlY2F0ZWQuJyldIDogW10pLFxuICAgIF0sXG4gICAgYmxvY2soJ2lucHV0cycsIGlucHV0cy5saW5lcygpKSxcbiAgICAuLi5jYWxsLmFkZHJlc3MsXG4gICAgc2Vzc2lvbkxpbmVzKG9wZXJhdGlvbiwgc2Vzc2lvbiwgc2lnbmF0dXJlPy5uYW1lKSxcbiAgICAuLi5jYWxsLmJvZHksXG4gIF07XG4gIHJldHVybiBgJHtibG9ja3NcbiAgICAuZmlsdGVyKChsaW5lcykgPT4gbGluZXMubGVuZ3RoID4gMClcbiAgICAubWFwKChsaW5lcykgPT4gbGluZXMubWFwKCh7IGFjdGl2ZTogb24sIHRleHQgfSkgPT4gKG9uID8gdGV4dCA6IGNvbW1lbnRlZCh0ZXh0KSkpLmpvaW4oJ1xcbicpKVxuICAgIC5qb2luKCdcXG4nKX1cXG5gO1xufVxuXG4vKiogV2hhdCBhIHNpZ25hdHVyZSBtYWtlcyBpcyBub2JvZHkncyB0byBnaXZlLiAqL1xuZnVuY3Rpb24gdW5zaWduZWQob3BlcmF0aW9uOiBPcGVyYXRpb24sIHsgc2lnbmF0dXJlIH06IERyYWZ0U2V0dGluZ3MpOiBPcGVyYXRpb24ge1xuICBpZiAoIXNpZ25hdHVyZSkgcmV0dXJuIG9wZXJhdGlvbjtcbiAgcmV0dXJuIHtcbiAgICAuLi5vcGVyYXRpb24sXG4gICAgcGFyYW1ldGVyczogb3BlcmF0aW9uLnBhcmFtZXRlcnMuZmlsdGVyKFxuICAgICAgKHsgaW46IHdoZXJlLCBuYW1lIH0pID0+IHdoZXJlICE9PSAnaGVhZGVyJyB8fCAhc2lnbmF0dXJlLm1ha2VzLmhhcyhuYW1lLnRvTG93ZXJDYXNlKCkpLFxuICAgICksXG4gIH07XG59XG5cbmZ1bmN0aW9uIGNhbGxMaW5lcyhvcGVyYXRpb246IE9wZXJhdGlvbiwgc2V0dGluZ3M6IERyYWZ0U2V0dGluZ3MsIGlucHV0czogSW5wdXRzKTogQ2FsbExpbmVzIHtcbiAgY29uc3QgeyBncmFwaHFsLCBzb2FwIH0gPSBvcGVyYXRpb247XG4gIGNvbnN0IHsgZW50cnksIGRlZmluaXRpb25zLCBzZWxlY3Rpb24gfSA9IHNldHRpbmdzO1xuICBpZiAoZ3JhcGhxbCkgcmV0dXJuIGdyYXBocWxMaW5lcyhvcGVyYXRpb24sIGdyYXBocWwsIGRlZmluaXRpb25zLCBzZWxlY3Rpb24sIGlucHV0cyk7XG4gIHJldHVybiBzb2FwID8gc29hcExpbmVzKG9wZXJhdGlvbiwgc29hcCwgZW50cnksIGRlZmluaXRpb25zLCBpbnB1dHMpIDogaHR0cExpbmVzKG9wZXJhdGlvbiwgaW5wdXRzKTtcbn1cblxuZnVuY3Rpb24gaHR0cExpbmVzKG9wZXJhdGlvbjogT3BlcmF0aW9uLCBpbnB1dHM6IElucHV0cyk6IENhbGxMaW5lcyB7XG4gIGNvbnN0IGF0ID0gKHdoZXJlOiBQYXJhbWV0ZXJbJ2luJ10pOiByZWFkb25seSBQYXJhbWV0ZXJbXSA9PlxuICAgIG9wZXJhdGlvbi5wYXJhbWV0ZXJzLmZpbHRlcigocGFyYW1ldGVyKSA9PiBwYXJhbWV0ZXIuaW4gPT09IHdoZXJlKTtcbiAgY29uc3QgcGF0aCA9IGF0KCdwYXRoJykubWFwKChwYXJhbWV0ZXIpID0+IGlucHV0cy5hZGQocGFyYW1ldGVyLCBbcGFyYW1ldGVyLm5hbWVdLCAncGF0aCcpKTtcbiAgY29uc3QgcmVuYW1lZCA9IGF0KCdwYXRoJykuZmxhdE1hcCgoeyBuYW1lIH0sIGluZGV4KSA9PlxuICAgIHBhdGhbaW5kZXhdID09PSBuYW1lID8gW10gOiBbeyBhY3RpdmU6IHRydWUsIHRleHQ6IGAke2tleShuYW1lKX06IFxcJHske3BhdGhbaW5kZXhdfX1gIH1dLFxuICApO1xuICBjb25zdCBxdWVyeSA9IGF0KCdxdWVyeScpLm1hcCgocGFyYW1ldGVyKSA9PiBwYXJhbWV0ZXJMaW5lKHBhcmFtZXRlciwgaW5wdXRzKSk7XG4gIGNvbnN0IGhlYWRlcnMgPSBhdCgnaGVhZGVyJykubWFwKChwYXJhbWV0ZXIpID0+IHBhcmFtZXRlckxpbmUocGFyYW1ldGVyLCBpbnB1dHMpKTtcbiAgY29uc3QgYm9keSA9IGJvZHlMaW5lcyhvcGVyYXRpb24sIGlucHV0cyk7XG4gIGNvbnN0IGFuc3dlciA9IG9wZXJhdGlvbi5hbnN3ZXJzLmZpbmQoKHsgc3RhdHVzIH0pID0+IC9eMi8udGVzdChzdGF0dXMpKTtcbiAgY29uc3QgYWNjZXB0ID0gYW5zd2VyPy5jb250ZW50Py50eXBlO1xuXG4gIHJldHVybiB7XG4gICAgYWRkcmVzczogW1xuICAgICAgW2FjdGl2ZShgbWV0aG9kOiAke29wZXJhdGlvbi5tZXRob2R9YCksIGFjdGl2ZShgdXJsOiAke2FkZHJlc3NUZXh0KG9wZXJhdGlvbi5wYXRoKX1gKV0sXG4gICAgICBibG9jaygncGF0aCcsIHJlbmFtZWQpLFxuICAgICAgYmxvY2soJ3F1ZXJ5JywgcXVlcnkpLFxuICAgICAgYmxvY2soJ2hlYWRlcnMnLCBbLi4uKGFjY2VwdCA/IFthY3RpdmUoYEFjY2VwdDogJHtzY2FsYXIoYWNjZXB0KX1gKV0gOiBbXSksIC4uLmhlYWRlcnNdKSxcbiAgICBdLFxuICAgIGJvZHk6IFtib2R5LCBibG9jaygnZXhwZWN0JywgZXhwZWN0YXRpb25zKGFuc3dlcikpLCBibG9jaygna2VlcCcsIGtlZXBzKGFuc3dlcikpXSxcbiAgfTtcbn1cblxuZnVuY3Rpb24gcGFyYW1ldGVyTGluZShwYXJhbWV0ZXI6IFBhcmFtZXRlciwgaW5wdXRzOiBJbnB1dHMpOiBMaW5lIHtcbiAgaWYgKHBhcmFtZXRlci5yZXF1aXJlZClcbiAgICByZXR1cm4gYWN0aXZlKFxuICAgICAgYCR7a2V5KHBhcmFtZXRlci5uYW1lKX06ICR7cmVmZXJlbmNlKGlucHV0cy5hZGQocGFyYW1ldGVyLCBbcGFyYW1ldGVyLm5hbWVdLCBwYXJhbWV0ZXIuaW4pKX0ke3JlbWFyayhwYXJhbWV0ZXIpfWAsXG4gICAgKTtcbiAgcmV0dXJuIHsgYWN0aXZlOiBmYWxzZSwgdGV4dDogYCR7a2V5KHBhcmFtZXRlci5uYW1lKX06ICR7ZmxvdyhzYW1wbGUocGFyYW1ldGVyKSl9JHtyZW1hcmsocGFyYW1ldGVyKX1gIH07XG59XG5cbmZ1bmN0aW9uIHNlc3Npb25MaW5lcyhcbiAgeyBzZWN1cml0eSwgcHJvdG9jb2wsIGNlcnRhaW50eSB9OiBPcGVyYXRpb24sXG4gIHNlc3Npb246IHN0cmluZyB8IHVuZGVmaW5lZCxcbiAgc2lnbmF0dXJlOiBzdHJpbmcgfCB1bmRlZmluZWQsXG4pOiBMaW5lW10ge1xuICAvLyBHcmFwaFFMLCBXU0RMLCBwYWdlcyBhbmQgc2FtcGxlcyBkbyBub3Qgc2F5IHdoYXQgdGhleSB3YW50LlxuICBpZiAoc2VjdXJpdHkubGVuZ3RoID09PSAwICYmIChwcm90b2NvbCAhPT0gJ2h0dHAnIHx8IGNlcnRhaW50eSAhPT0gdW5kZWZpbmVkKSlcbiAgICByZXR1cm4gW2FjdGl2ZSgnc2Vzc2lvbjogbm9uZSAgICAgICAgICAgICAgICAgICAgICAgIyB3aGV0aGVyIG9uZSBpcyB3YW50ZWQgaXMgbm90IGRvY3VtZW50ZWQnKV07XG4gIGlmIChzZWN1cml0eS5sZW5ndGggPT09IDApIHJldHVybiBbYWN0aXZlKCdzZXNzaW9uOiBub25lJyldO1xuICBjb25zdCB3YW50ZWQgPSBzZWN1cml0eVxuICAgIC5tYXAoKHsgc2NoZW1lcyB9KSA9PiBzY2hlbWVzLm1hcCgoeyBuYW1lLCBhYm91dCB9KSA9PiBgJHtuYW1lfSwgJHthYm91dH1gKS5qb2luKCcgYW5kICcpKVxuICAgIC5qb2luKCc7IG9yICcpO1xuICBpZiAoc2lnbmF0dXJlICE9PSB1bmRlZmluZWQgJiYgc2VjdXJpdHkuZXZlcnkoKHsgc2NoZW1lcyB9KSA9PiBzY2hlbWVzLmxlbmd0aCA9PT0gMSkpXG4gICAgcmV0dXJuIFthY3RpdmUoJ3Nlc3Npb246IG5vbmUnKSwgYWN0aXZlKGBzaWduYXR1cmU6ICR7c2NhbGFyKHNpZ25hdHVyZSl9ICAgIyB0aGUgZG9jdW1lbnRhdGlvbiB3YW50cyAke3dhbnRlZH1gKV07XG4gIGlmIChzaWduYXR1cmUgIT09IHVuZGVmaW5lZClcbiAgICByZXR1cm4gW1xuICAgICAgLi4uc2Vzc2lvbkxpbmVzKHsgc2VjdXJpdHksIHByb3RvY29sLCBjZXJ0YWludHkgfSBhcyBPcGVyYXRpb24sIHNlc3Npb24sIHVuZGVmaW5lZCksXG4gICAgICBhY3RpdmUoYHNpZ25hdHVyZTogJHtzY2FsYXIoc2lnbmF0dXJlKX1gKSxcbiAgICBdO1xuICByZXR1cm4gc2Vzc2lvbiA9PT0gdW5kZWZpbmVkXG4gICAgPyBbeyBhY3RpdmU6IGZhbHNlLCB0ZXh0OiBgc2Vzc2lvbjogTkFNRSAgICMgdGhlIGRvY3VtZW50YXRpb24gd2FudHMgJHt3YW50ZWR9YCB9XVxuICAgIDogW2FjdGl2ZShgc2Vzc2lvbjogJHtzY2FsYXIoc2Vzc2lvbil9ICAgIyB0aGUgZG9jdW1lbnRhdGlvbiB3YW50cyAke3dhbnRlZH1gKV07XG59XG5cbmZ1bmN0aW9uIGV4cGVjdGF0aW9ucyhhbnN3ZXI6IE9wZXJhdGlvblsnYW5zd2VycyddW251bWJlcl0gfCB1bmRlZmluZWQpOiBMaW5lW10ge1xuICBpZiAoIWFuc3dlcikgcmV0dXJuIFtdO1xuICBjb25zdCBsaW5lcyA9IFthY3RpdmUoYHN0YXR1czogJHsvXlxcZCskLy50ZXN0KGFuc3dlci5zdGF0dXMpID8gYW5zd2VyLnN0YXR1cyA6IGFuc3dlci5zdGF0dXMudG9Mb3dlckNhc2UoKX1gKV07XG4gIGlmIChhbnN3ZXIuY29udGVudCkgbGluZXMucHVzaChhY3RpdmUoYGhlYWRlci5jb250ZW50LXR5cGU6IHtzdGFydHMtd2l0aDogJHtzY2FsYXIoYW5zd2VyLmNvbnRlbnQudHlwZSl9fWApKTtcbiAgaWYgKGFuc3dlci5jb250ZW50Py5zY2hlbWEgIT09IHVuZGVmaW5lZCAmJiAvWy8rXWpzb25cXGIvLnRlc3QoYW5zd2VyLmNvbnRlbnQudHlwZSkpXG4gICAgbGluZXMucHVzaChhY3RpdmUoJyQ6IHtzY2hlbWE6IGRvY3VtZW50ZWR9JykpO1xuICByZXR1cm4gbGluZXM7XG59XG5cbi8qKiBXaGF0IHRoZSBzZXJ2ZXIgc2V0cyBpcyB3aGF0IHRoZSBuZXh0IHJlcXVlc3QgdXN1YWxseSBuZWVkcy4gKi9cbmZ1bmN0aW9uIGtlZXBzKGFuc3dlcjogT3BlcmF0aW9uWydhbnN3ZXJzJ11bbnVtYmVyXSB8IHVuZGVmaW5lZCk6IExpbmVbXSB7XG4gIGNvbnN0IGFycmF5ID0gSlNPTi5zdHJpbmdpZnkoYW5zd2VyPy5jb250ZW50Py5zY2hlbWEgPz8gbnVsbCkuc3RhcnRzV2l0aCgne1widHlwZVwiOlwiYXJyYXlcIicpO1xuICBjb25zdCBvd24gPSAoYW5zd2VyPy5jb250ZW50Py5maWVsZHMgPz8gW10pXG4gICAgLmZpbHRlcigoZmllbGQpID0+IGZpZWxkLnJlYWRPbmx5IHx8IC9eaWQkfElkJHxfaWQkLy50ZXN0KGZpZWxkLm5hbWUpKVxuICAgIC5zbGljZSgwLCAzKTtcbiAgY29uc3QgeG1sID0gL1svK114bWxcXGIvLnRlc3QoYW5zd2VyPy5jb250ZW50Py50eXBlID8/ICcnKTtcbiAgY29uc3QgcGxhY2UgPSAoeyBuYW1lLCB4bWw6IHdyaXR0ZW4gfTogRmllbGQpOiBzdHJpbmcgPT5cbiAgICB4bWwgPyBgJHt3cml0dGVuPy5hdHRyaWJ1dGUgPyAnLy9AJyA6ICcvLyd9JHt3cml0dGVuPy5uYW1lID8/IG5hbWV9YCA6IGAkLiR7bmFtZX1gO1xuICBjb25zdCBsaW5lcyA9IGFycmF5ID8gW10gOiBvd24ubWFwKChmaWVsZCkgPT4gKHsgYWN0aXZlOiBmYWxzZSwgdGV4dDogYCR7aW5wdXROYW1lKGZpZWxkLm5hbWUpfTogJHtwbGFjZShmaWVsZCl9YCB9KSk7XG4gIGlmIChhbnN3ZXI/LmhlYWRlcnMuc29tZSgoaGVhZGVyKSA9PiBoZWFkZXIubmFtZS50b0xvd2VyQ2FzZSgpID09PSAnbG9jYXRpb24nKSlcbiAgICBsaW5lcy5wdXNoKHsgYWN0aXZlOiBmYWxzZSwgdGV4dDogJ2FkZHJlc3M6IGhlYWRlci5sb2NhdGlvbicgfSk7XG4gIHJldHVybiBsaW5lcztcbn1cblxuZnVuY3Rpb24gYWRkcmVzc1RleHQocGF0aDogc3RyaW5nKTogc3RyaW5nIHtcbiAgY29uc3QgcGxhaW4gPSBwYXRoLnJlcGxhY2UoL1xceyhbXn1dKylcXH0vZywgKF8sIG5hbWU6IHN0cmluZykgPT4gYHske25hbWV9fWApO1xuICByZXR1cm4gYFxcJHtvcmlnaW59JHtwbGFpbn1gO1xufVxuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBQ0EsU0FBUyxpQkFBaUI7QUFrQm5CLElBQU0sU0FBUyxDQUFDLFVBQXdCLEVBQUUsUUFBUSxNQUFNLEtBQUs7QUFFN0QsSUFBTSxZQUFZLENBQUMsU0FBeUIsS0FBSyxRQUFRLFVBQVUsTUFBTTtBQUd6RSxTQUFTLE1BQU0sTUFBYyxPQUFnQztBQUNsRSxNQUFJLE1BQU0sV0FBVyxFQUFHLFFBQU8sQ0FBQztBQUNoQyxTQUFPO0FBQUEsSUFDTCxFQUFFLFFBQVEsTUFBTSxLQUFLLENBQUMsU0FBUyxLQUFLLE1BQU0sR0FBRyxNQUFNLEdBQUcsSUFBSSxJQUFJO0FBQUEsSUFDOUQsR0FBRyxNQUFNLElBQUksQ0FBQyxVQUFVLEVBQUUsR0FBRyxNQUFNLE1BQU0sS0FBSyxLQUFLLElBQUksR0FBRyxFQUFFO0FBQUEsRUFDOUQ7QUFDRjtBQUVPLElBQU0sWUFBWSxDQUFDLFNBQXlCLE1BQU0sSUFBSTtBQUV0RCxJQUFNLFVBQVUsQ0FBQyxVQUEwQixLQUFLLE1BQU0sSUFBSSxFQUFFLENBQUMsS0FBSyxJQUFJLEtBQUs7QUFFM0UsSUFBTSxNQUFNLENBQUMsU0FBeUIsT0FBTyxJQUFJO0FBR2pELFNBQVMsT0FBTyxNQUFzQjtBQUMzQyxTQUFPLFVBQVUsTUFBTSxFQUFFLFdBQVcsR0FBRyxtQkFBbUIsUUFBUSxDQUFDLEVBQUUsUUFBUTtBQUMvRTtBQUVPLFNBQVMsS0FBS0EsUUFBc0I7QUFDekMsTUFBSSxPQUFPQSxXQUFVLFNBQVUsUUFBTyxPQUFPQSxNQUFLO0FBQ2xELFNBQU8sVUFBVUEsUUFBTyxFQUFFLGlCQUFpQixRQUFRLFdBQVcsR0FBRyx1QkFBdUIsTUFBTSxDQUFDLEVBQUUsUUFBUTtBQUMzRztBQUdPLFNBQVMsT0FBTyxPQUFzQjtBQUMzQyxRQUFNLFFBQVE7QUFBQSxJQUNaLE1BQU07QUFBQSxJQUNOLFdBQVcsS0FBSztBQUFBLElBQ2hCLE1BQU0sWUFBWSxVQUFhLFdBQVcsT0FBTyxNQUFNLE9BQU8sS0FBSyxJQUFJO0FBQUEsRUFDekUsRUFDRyxPQUFPLE9BQU8sRUFDZCxLQUFLLElBQUk7QUFDWixRQUFNLFFBQVEsTUFBTSxnQkFBZ0IsU0FBWSxLQUFLLEtBQUssUUFBUSxNQUFNLFdBQVcsQ0FBQztBQUNwRixTQUFPLFFBQVEsS0FBSyxHQUFHLEtBQUssR0FBRyxNQUFNLGFBQWEsa0JBQWtCLEVBQUU7QUFDeEU7QUFFTyxTQUFTLE9BQU8sT0FBcUI7QUFDMUMsTUFBSSxNQUFNLFlBQVksT0FBVyxRQUFPLE1BQU07QUFDOUMsTUFBSSxNQUFNLFlBQVksT0FBVyxRQUFPLE1BQU07QUFDOUMsUUFBTSxPQUNKLE1BQU0sVUFBVSxDQUFDLEtBQUssRUFBRSxTQUFTLEdBQUcsUUFBUSxHQUFHLFNBQVMsS0FBSyxFQUFFLFVBQVUsU0FBUyxNQUFNLElBQUksQ0FBQyxDQUFDLEtBQUs7QUFDckcsU0FBTyxPQUFPLE1BQU0sSUFBSSxJQUFJLENBQUMsSUFBSSxJQUFJO0FBQ3ZDO0FBRU8sSUFBTSxTQUFTLENBQUMsU0FBMEIsS0FBSyxXQUFXLE9BQU8sS0FBSyxLQUFLLFdBQVcsR0FBRztBQUVoRyxJQUFNLGVBQWlELEVBQUUsS0FBSyxXQUFXLE9BQU8sVUFBVSxTQUFTLFVBQVU7QUFHdEcsU0FBUyxVQUFVLE1BQXNCO0FBQzlDLE1BQUksT0FBTyxJQUFJLEVBQUcsUUFBTztBQUN6QixRQUFNLFFBQVEsYUFBYSxLQUFLLFFBQVEsTUFBTSxFQUFFLENBQUM7QUFDakQsTUFBSSxVQUFVLE9BQVcsUUFBTztBQUNoQyxRQUFNLE9BQU8sVUFBVSxLQUFLLElBQUksSUFBSSxDQUFDLEtBQUs7QUFDMUMsU0FBTyxDQUFDLFVBQVUsVUFBVSxXQUFXLFdBQVcsU0FBUyxRQUFRLEVBQUUsU0FBUyxJQUFJLElBQUksT0FBTztBQUMvRjtBQUdBLElBQU0sV0FBVyxDQUFDLFNBQXlCLEtBQUssUUFBUSxjQUFjLEVBQUUsRUFBRSxRQUFRLGdCQUFnQixJQUFJOzs7QUM1RS9GLFNBQVMsVUFBVSxFQUFFLE9BQU8sR0FBUyxRQUF3QjtBQUNsRSxRQUFNLE9BQU8sT0FBTyxPQUFPLENBQUMsVUFBVSxDQUFDLE1BQU0sUUFBUTtBQUNyRCxTQUFPLEtBQUssV0FBVyxJQUNuQixDQUFDLElBQ0Q7QUFBQSxJQUNFO0FBQUEsSUFDQSxLQUFLLElBQUksQ0FBQyxVQUFVLEtBQUssT0FBTyxNQUFNLENBQUM7QUFBQSxFQUN6QztBQUNOO0FBRUEsU0FBUyxLQUFLLE9BQWMsUUFBc0I7QUFDaEQsUUFBTSxFQUFFLFVBQVUsTUFBTSxLQUFLLElBQUk7QUFDakMsUUFBTSxRQUFRLE1BQWMsVUFBVSxPQUFPLElBQUksT0FBTyxDQUFDLElBQUksR0FBRyxNQUFNLENBQUM7QUFDdkUsTUFBSSxPQUFPLElBQUksR0FBRztBQUNoQixVQUFNLE9BQU8sRUFBRSxHQUFHLE9BQU8sTUFBTSxVQUFVLGFBQWEsTUFBTSxlQUFlLHVDQUF1QztBQUNsSCxVQUFNLE9BQU8sV0FBVyxJQUFJLFVBQVUsT0FBTyxJQUFJLE1BQU0sQ0FBQyxJQUFJLEdBQUcsTUFBTSxDQUFDLENBQUMsTUFBTTtBQUM3RSxXQUFPLEVBQUUsUUFBUSxVQUFVLE1BQU0sR0FBRyxJQUFJLElBQUksQ0FBQyxZQUFZLElBQUksSUFBSSxPQUFPLEtBQUssQ0FBQyxHQUFHO0FBQUEsRUFDbkY7QUFDQSxRQUFNLGFBQWEsTUFBTSxRQUFRLFVBQVUsS0FBSyxLQUFLLEtBQUssV0FBVyxRQUFRO0FBQzdFLE1BQUk7QUFDRixXQUFPO0FBQUEsTUFDTCxRQUFRO0FBQUEsTUFDUixNQUFNLEdBQUcsSUFBSSxJQUFJLENBQUMsWUFBWSxXQUFXLElBQUksTUFBTSxDQUFDLE1BQU0sS0FBSyxZQUFZLE1BQU0sVUFBVSxDQUFDLEdBQUcsRUFBRSxRQUFRLEtBQUssQ0FBQyxDQUFDLENBQUMsSUFBSSxPQUFPLEtBQUssQ0FBQztBQUFBLElBQ3BJO0FBQ0YsU0FBTyxFQUFFLFFBQVEsVUFBVSxNQUFNLEdBQUcsSUFBSSxJQUFJLENBQUMsS0FBSyxXQUFXLE1BQU0sSUFBSSxLQUFLLE9BQU8sS0FBSyxDQUFDLENBQUMsR0FBRyxPQUFPLEtBQUssQ0FBQyxHQUFHO0FBQy9HO0FBR0EsSUFBTSxTQUFTLENBQUMsU0FBMEIsZ0NBQWdDLEtBQUssSUFBSTtBQUc1RSxJQUFNLFdBQVcsQ0FBQyxNQUFjLFVBQW1CLFdBQ3hEO0FBQUEsRUFDRSxTQUFTLFVBQVUsT0FBTyxJQUFJLEVBQUUsTUFBTSxRQUFRLE1BQU0sVUFBVSxVQUFVLGFBQWEsaURBQWlELElBQUksR0FBRyxHQUFHLENBQUMsTUFBTSxHQUFHLE1BQU0sQ0FBQyxDQUFDO0FBQ3BLOzs7QUNqQ0ssU0FBUyxTQUFTLE1BQVksUUFBd0I7QUFDM0QsTUFBSSxLQUFLLE9BQU8sV0FBVyxFQUFHLFFBQU8sQ0FBQztBQUN0QyxRQUFNLE9BQU8sUUFBUSxNQUFNO0FBQUEsSUFDekIsT0FBTyxDQUFDLEVBQUUsU0FBUyxNQUFNLENBQUM7QUFBQSxJQUMxQixPQUFPLENBQUMsT0FBTyxNQUFNLE9BQU8sTUFBTSxPQUFPLE1BQU0sUUFBUSxFQUFFO0FBQUEsSUFDekQsVUFBVSxDQUFDLE9BQU8sU0FBUyxDQUFDLFFBQVEsSUFBSSxJQUFJLEdBQUcsTUFBTSxJQUFJLElBQUksR0FBRyxLQUFLO0FBQUEsSUFDckUsU0FBUyxDQUFDLFNBQVMsQ0FBQyxRQUFRLElBQUksTUFBTTtBQUFBLEVBQ3hDLENBQUM7QUFDRCxTQUFPLENBQUMsT0FBTyxRQUFRLEdBQUcsR0FBRyxLQUFLLElBQUksQ0FBQyxTQUFTLE9BQU8sS0FBSyxJQUFJLEVBQUUsQ0FBQyxDQUFDO0FBQ3RFO0FBR0EsSUFBTSxPQUFPLENBQUMsU0FBeUIsS0FBSyxXQUFXLE1BQU0sS0FBSztBQUVsRSxTQUFTLE1BQU0sT0FBYyxNQUF5QixRQUFnQixJQUFxQjtBQUN6RixRQUFNLENBQUMsTUFBTSxJQUFJLElBQUksTUFBTSxXQUFXLENBQUM7QUFDdkMsTUFBSSxTQUFTLFVBQWEsU0FBUyxPQUFXLFFBQU8sUUFBUSxPQUFPLElBQUksQ0FBQztBQUV6RSxNQUFJLEdBQUksUUFBTyxVQUFVLE9BQU8sSUFBSSxFQUFFLEdBQUcsT0FBTyxNQUFNLE1BQU0sS0FBSyxRQUFRLGNBQWMsRUFBRSxFQUFFLEdBQUcsTUFBTSxNQUFNLENBQUM7QUFDM0csUUFBTSxVQUFVLE9BQU8sS0FBSztBQUM1QixTQUFPLFFBQVEsT0FBTyxNQUFNLFFBQVEsT0FBTyxJQUFJLFFBQVEsQ0FBQyxJQUFJLE9BQU8sQ0FBQztBQUN0RTs7O0FDdEJPLFNBQVMsVUFBVSxFQUFFLE1BQU0sT0FBTyxHQUFjLFFBQXdCO0FBQzdFLE1BQUksQ0FBQyxLQUFNLFFBQU8sQ0FBQztBQUNuQixRQUFNLE9BQU8sYUFBYSxLQUFLLEtBQUssSUFBSTtBQUN4QyxRQUFNLE9BQU8sS0FBSyxTQUFTO0FBQzNCLE1BQUksQ0FBQyxRQUFRLENBQUMsS0FBTSxRQUFPLENBQUMsR0FBRyxhQUFhLE1BQU0sR0FBRyxHQUFHLFVBQVUsTUFBTSxNQUFNLENBQUM7QUFDL0UsUUFBTSxPQUFPLE9BQU8sU0FBUztBQUM3QixRQUFNLFFBQVEsaUJBQWlCLEtBQUssUUFBUSxLQUFLLGNBQWMsQ0FBQyxHQUFHLFFBQVEsSUFBSTtBQUMvRSxNQUFJLE1BQU0sV0FBVztBQUNuQixXQUFPLE1BQU0sUUFBUSxDQUFDLE9BQU8sR0FBRyxJQUFJLEtBQUssS0FBSyxZQUFZLFNBQVksT0FBTyxLQUFLLEtBQUssT0FBTyxDQUFDLEVBQUUsQ0FBQyxDQUFDO0FBQ3JHLE1BQUksQ0FBQyxNQUFNLEtBQUssQ0FBQyxTQUFTLEtBQUssTUFBTSxHQUFHO0FBRXRDLFdBQU87QUFBQSxNQUNMLE9BQU8sT0FBTztBQUFBLE1BQ2QsT0FBTyxLQUFLLElBQUksR0FBRztBQUFBLE1BQ25CLE9BQU8sUUFBUTtBQUFBLE1BQ2YsR0FBRyxNQUFNLElBQUksQ0FBQyxVQUFVLEVBQUUsR0FBRyxNQUFNLE1BQU0sT0FBTyxLQUFLLElBQUksR0FBRyxFQUFFO0FBQUEsSUFDaEU7QUFBQSxFQUNGO0FBQ0EsU0FBTyxDQUFDLEdBQUcsYUFBYSxNQUFNLEdBQUcsR0FBRyxNQUFNLFFBQVEsTUFBTSxNQUFNLEtBQUssQ0FBQyxDQUFDO0FBQ3ZFO0FBR0EsU0FBUyxVQUFVLE1BQVksUUFBd0I7QUFDckQsUUFBTSxFQUFFLE1BQU0sU0FBUyxJQUFJO0FBQzNCLFFBQU0sUUFBUSxZQUFZLEtBQUssSUFBSTtBQUNuQyxRQUFNLFFBQVEsU0FBUyx3QkFBd0IsVUFBVSxNQUFNLE1BQU0sSUFBSSxRQUFRLFNBQVMsTUFBTSxNQUFNLElBQUksQ0FBQztBQUMzRyxNQUFJLE1BQU0sU0FBUyxFQUFHLFFBQU8sTUFBTSxRQUFRLEtBQUs7QUFDaEQsTUFBSSxxRUFBcUUsS0FBSyxJQUFJO0FBQ2hGLFdBQU8sTUFBTSxRQUFRLENBQUMsU0FBUyxNQUFNLFVBQVUsTUFBTSxDQUFDLENBQUM7QUFDekQsU0FBTyxDQUFDLEVBQUUsUUFBUSxPQUFPLE1BQU0sVUFBVSxRQUFRLFFBQVEsTUFBTSxhQUFhLElBQUksK0JBQStCLENBQUM7QUFDbEg7QUFHQSxTQUFTLGFBQWEsUUFBd0I7QUFDNUMsTUFBSSxXQUFXLE1BQU8sUUFBTyxDQUFDLE9BQU8sK0RBQStELENBQUM7QUFDckcsTUFBSSxXQUFXLFFBQVMsUUFBTyxDQUFDLE9BQU8sb0RBQW9ELENBQUM7QUFDNUYsU0FBTyxDQUFDO0FBQ1Y7QUFHQSxTQUFTLGlCQUNQLFFBQ0EsY0FDQSxNQUNBLFFBQ0EsSUFDUTtBQUNSLFFBQU0sQ0FBQyxPQUFPLEdBQUcsTUFBTSxJQUFJLGdCQUFnQixDQUFDO0FBQzVDLE1BQUksQ0FBQyxNQUFPLFFBQU8sUUFBUSxRQUFRLE1BQU0sUUFBUSxFQUFFO0FBQ25ELFFBQU0sUUFBUSxDQUFDLEVBQUUsTUFBTSxLQUFLLE1BQTJCLEdBQUcsSUFBSSxHQUFHLFNBQVMsU0FBWSxLQUFLLEtBQUssSUFBSSxHQUFHO0FBQ3ZHLFNBQU87QUFBQSxJQUNMLE9BQU8sUUFBUSxNQUFNLEtBQUssQ0FBQyxHQUFHO0FBQUEsSUFDOUIsR0FBRyxRQUFRLE1BQU0sUUFBUSxNQUFNLFFBQVEsRUFBRTtBQUFBLElBQ3pDLEdBQUcsT0FBTyxRQUFRLENBQUMsVUFBVSxDQUFDLE9BQU8sV0FBVyxNQUFNLEtBQUssQ0FBQyxHQUFHLEdBQUcsR0FBRyxRQUFRLE1BQU0sUUFBUSxNQUFNLFFBQVEsS0FBSyxDQUFDLENBQUM7QUFBQSxFQUNsSDtBQUNGO0FBRU8sU0FBUyxRQUFRLFFBQTBCLE1BQXlCLFFBQWdCLElBQXFCO0FBQzlHLFNBQU8sT0FDSixPQUFPLENBQUMsVUFBVSxDQUFDLE1BQU0sUUFBUSxFQUNqQyxRQUFRLENBQUMsVUFBVTtBQUNsQixVQUFNLE9BQU8sQ0FBQyxHQUFHLE1BQU0sTUFBTSxJQUFJO0FBQ2pDLFVBQU0sTUFBTSxNQUFNLE1BQU07QUFDeEIsVUFBTSxPQUFPLE9BQU8sTUFBTSxJQUFJO0FBQzlCLFFBQUssTUFBTSxVQUFVLE1BQU0sT0FBTyxTQUFTLEtBQU0sTUFBTSxjQUFjO0FBQ25FLFlBQU0sUUFBUSxpQkFBaUIsTUFBTSxVQUFVLENBQUMsR0FBRyxNQUFNLGNBQWMsTUFBTSxRQUFRLEdBQUc7QUFDeEYsWUFBTSxRQUFRLE9BQU8sT0FBTyxLQUFLLElBQUksTUFBTSxJQUFJLENBQUMsVUFBVSxFQUFFLEdBQUcsTUFBTSxNQUFNLEtBQUssS0FBSyxJQUFJLEdBQUcsRUFBRTtBQUM5RixhQUFPLENBQUMsRUFBRSxRQUFRLEtBQUssTUFBTSxHQUFHLElBQUksTUFBTSxJQUFJLENBQUMsSUFBSSxPQUFPLEtBQUssQ0FBQyxHQUFHLEdBQUcsR0FBRyxLQUFLO0FBQUEsSUFDaEY7QUFDQSxVQUFNLENBQUMsTUFBTSxJQUFJLElBQUksTUFBTSxXQUFXLENBQUM7QUFDdkMsVUFBTSxRQUFRLFNBQVMsVUFBYSxTQUFTLFVBQWEsQ0FBQztBQUMzRCxVQUFNQyxTQUFRLFFBQVEsS0FBSyxJQUFJLElBQUksTUFBTSxVQUFVLE9BQU8sSUFBSSxPQUFPLE1BQU0sTUFBTSxDQUFDLElBQUksS0FBSyxPQUFPLEtBQUssQ0FBQztBQUN4RyxXQUFPLENBQUMsRUFBRSxRQUFRLEtBQUssTUFBTSxHQUFHLElBQUksTUFBTSxJQUFJLENBQUMsS0FBS0EsTUFBSyxHQUFHLE9BQU8sS0FBSyxDQUFDLEdBQUcsQ0FBQztBQUFBLEVBQy9FLENBQUM7QUFDTDtBQUdBLFNBQVMsT0FBTyxPQUFnQztBQUM5QyxRQUFNLFFBQVEsS0FBSztBQUFBLElBQ2pCO0FBQUEsSUFDQSxNQUFNLFVBQVUsQ0FBQyxTQUFTLEtBQUssTUFBTTtBQUFBLEVBQ3ZDO0FBQ0EsU0FBTyxNQUFNLElBQUksQ0FBQyxNQUFNLFdBQVcsRUFBRSxHQUFHLE1BQU0sTUFBTSxHQUFHLFVBQVUsUUFBUSxTQUFTLE1BQU0sR0FBRyxLQUFLLElBQUksR0FBRyxFQUFFO0FBQzNHOzs7QUM1RUEsSUFBTSxXQUFXLG9CQUFJLElBQUksQ0FBQyxTQUFTLFFBQVEsU0FBUyxVQUFVLENBQUM7QUFNeEQsU0FBUyxhQUNkLEVBQUUsTUFBTSxPQUFPLFNBQVMsV0FBVyxLQUFLLEdBQ3hDLGFBQ0EsV0FDQSxFQUFFLE9BQU8sT0FBTyxHQUNSO0FBQ1IsUUFBTSxPQUFPLEtBQUssT0FBTyxDQUFDLEVBQUUsS0FBSyxNQUFNLFVBQVUsU0FBUyxJQUFJLENBQUM7QUFDL0QsUUFBTSxXQUFXLEtBQUssSUFBSSxDQUFDLEVBQUUsTUFBTSxLQUFLLE1BQU0sSUFBSSxJQUFJLEtBQUssSUFBSSxFQUFFLEVBQUUsS0FBSyxJQUFJO0FBQzVFLFFBQU0sUUFBUSxLQUFLLElBQUksQ0FBQyxFQUFFLEtBQUssTUFBTSxHQUFHLElBQUksTUFBTSxJQUFJLEVBQUUsRUFBRSxLQUFLLElBQUk7QUFDbkUsUUFBTSxTQUFTLFNBQ1g7QUFBQSxJQUNFO0FBQUEsSUFDQSxPQUFPLElBQUksQ0FBQyxRQUFRLElBQUksTUFBTSxHQUFHLENBQUM7QUFBQSxJQUNsQztBQUFBLElBQ0E7QUFBQSxFQUNGLElBQ0EsZUFBZSxTQUFTLGFBQWEsT0FBTyxDQUFDLENBQUM7QUFDbEQsUUFBTSxPQUFPLEdBQUcsSUFBSSxJQUFJLEtBQUssR0FBRyxhQUFhLEtBQUssS0FBSyxJQUFJLFFBQVEsR0FBRztBQUN0RSxRQUFNLE9BQU8sR0FBRyxLQUFLLEdBQUcsVUFBVSxLQUFLLEtBQUssSUFBSSxLQUFLLEdBQUc7QUFDeEQsUUFBTSxPQUFPLE9BQU8sV0FBVyxJQUFJLENBQUMsS0FBSyxJQUFJLEVBQUUsSUFBSSxDQUFDLEtBQUssSUFBSSxNQUFNLEdBQUcsU0FBUyxRQUFRLENBQUMsR0FBRyxLQUFLO0FBQ2hHLFNBQU8sQ0FBQyxHQUFHLElBQUksTUFBTSxHQUFHLE1BQU0sR0FBRyxFQUFFLEtBQUssSUFBSTtBQUM5QztBQUVBLElBQU0sV0FBVyxDQUFDLE9BQTBCLFdBQzFDLE1BQU0sSUFBSSxDQUFDLFNBQVMsS0FBSyxPQUFPLE1BQU0sSUFBSSxJQUFJO0FBR2hELFNBQVMsZUFBZSxTQUFpQixhQUEwQixPQUFlLE9BQW9DO0FBQ3BILFFBQU0sT0FBTyxPQUFPLGFBQWEsU0FBUyxPQUFPLENBQUM7QUFDbEQsTUFBSSxDQUFDLFFBQVEsS0FBSyxTQUFTLFlBQVksS0FBSyxTQUFTLGlCQUFpQixLQUFLLFNBQVMsUUFBUyxRQUFPLENBQUM7QUFDckcsUUFBTSxTQUFTLENBQUMsR0FBRyxPQUFPLEtBQUssSUFBSTtBQUNuQyxRQUFNLE9BQU8sS0FBSyxVQUFVLENBQUMsR0FDMUIsT0FBTyxDQUFDLEVBQUUsT0FBTyxDQUFDLEdBQUcsV0FBVyxNQUFNLENBQUMsS0FBSyxLQUFLLFVBQVUsS0FBSyxlQUFlLE1BQVMsRUFDeEYsUUFBUSxDQUFDLFVBQVUsU0FBUyxPQUFPLGFBQWEsT0FBTyxNQUFNLENBQUM7QUFDakUsUUFBTSxVQUFVLEtBQUssWUFBWSxDQUFDLEdBQUcsUUFBUSxDQUFDLFNBQVM7QUFDckQsVUFBTSxRQUFRLElBQUksS0FBSyxLQUFLLFVBQVUsQ0FBQyxHQUFHLElBQUksQ0FBQyxVQUFVLE1BQU0sSUFBSSxDQUFDO0FBQ3BFLFVBQU0sU0FBUyxPQUFPLGFBQWEsSUFBSSxHQUFHLFVBQVUsQ0FBQyxHQUNsRDtBQUFBLE1BQ0MsQ0FBQyxVQUFVLENBQUMsTUFBTSxJQUFJLE1BQU0sSUFBSSxLQUFLLEVBQUUsTUFBTSxRQUFRLENBQUMsR0FBRyxLQUFLLFVBQVUsS0FBSyxNQUFNLGVBQWU7QUFBQSxJQUNwRyxFQUNDLFFBQVEsQ0FBQyxVQUFVLFNBQVMsT0FBTyxhQUFhLE9BQU8sQ0FBQyxHQUFHLFFBQVEsSUFBSSxDQUFDLENBQUM7QUFDNUUsV0FBTyxNQUFNLFdBQVcsSUFBSSxDQUFDLElBQUksQ0FBQyxVQUFVLElBQUksTUFBTSxHQUFHLFNBQVMsT0FBTyxDQUFDLEdBQUcsR0FBRztBQUFBLEVBQ2xGLENBQUM7QUFDRCxRQUFNLFFBQVEsQ0FBQyxHQUFJLEtBQUssU0FBUyxXQUFXLENBQUMsSUFBSSxDQUFDLFlBQVksR0FBSSxHQUFHLEtBQUssR0FBRyxNQUFNO0FBQ25GLFNBQU8sTUFBTSxXQUFXLElBQUksQ0FBQyxZQUFZLElBQUk7QUFDL0M7QUFFQSxTQUFTLFNBQVMsT0FBb0IsYUFBMEIsT0FBZSxPQUFvQztBQUNqSCxRQUFNLE9BQU8sT0FBTyxhQUFhLFNBQVMsTUFBTSxJQUFJLENBQUM7QUFDckQsTUFBSSxDQUFDLFFBQVEsS0FBSyxTQUFTLFlBQVksS0FBSyxTQUFTLGNBQWUsUUFBTyxDQUFDLE1BQU0sSUFBSTtBQUN0RixRQUFNLE9BQU8sU0FBUyxJQUFJLE1BQU0sSUFBSSxJQUFJLFFBQVEsUUFBUTtBQUN4RCxNQUFJLE9BQU8sS0FBSyxNQUFNLFNBQVMsS0FBSyxJQUFJLEVBQUcsUUFBTyxDQUFDO0FBQ25ELFFBQU0sUUFBUSxlQUFlLE1BQU0sTUFBTSxhQUFhLE1BQU0sS0FBSztBQUNqRSxTQUFPLENBQUMsR0FBRyxNQUFNLElBQUksTUFBTSxHQUFHLFNBQVMsT0FBTyxDQUFDLEdBQUcsR0FBRztBQUN2RDtBQUdBLFNBQVMsZ0JBQWdCLFNBQWlCLE9BQTRCLGFBQTBCLElBQXNCO0FBQ3BILFFBQU0sT0FBTyxPQUFPLGFBQWEsU0FBUyxPQUFPLENBQUM7QUFDbEQsUUFBTSxTQUFTLG9CQUFJLElBQXdCO0FBQzNDLGFBQVcsQ0FBQyxPQUFPLEdBQUcsSUFBSSxLQUFLO0FBQzdCLFFBQUksVUFBVSxPQUFXLFFBQU8sSUFBSSxPQUFPLENBQUMsR0FBSSxPQUFPLElBQUksS0FBSyxLQUFLLENBQUMsR0FBSSxJQUFJLENBQUM7QUFDakYsU0FBTyxDQUFDLEdBQUcsTUFBTSxFQUFFLFFBQVEsQ0FBQyxDQUFDLE1BQU0sS0FBSyxNQUFNO0FBQzVDLFVBQU0sUUFBUSxNQUFNLFFBQVEsS0FBSyxDQUFDLFFBQVEsSUFBSSxTQUFTLElBQUk7QUFDM0QsUUFBSSxDQUFDLE9BQU87QUFDVixZQUFNLElBQUksUUFBUSxTQUFTO0FBQUEsUUFDekIsTUFBTSxHQUFHLEVBQUUsS0FBSyxPQUFPLGtCQUFrQixJQUFJO0FBQUEsUUFDN0MsUUFDRTtBQUFBLFVBQ0U7QUFBQSxXQUNDLE1BQU0sVUFBVSxDQUFDLEdBQUcsSUFBSSxDQUFDLFFBQVEsSUFBSSxJQUFJO0FBQUEsUUFDNUMsS0FBSywrQkFBK0IsU0FBUyxPQUFPLENBQUM7QUFBQSxNQUN6RCxDQUFDO0FBQUEsSUFDSDtBQUNBLFVBQU0sU0FBUyxNQUFNLE9BQU8sQ0FBQyxTQUFTLEtBQUssU0FBUyxDQUFDO0FBQ3JELFVBQU0sUUFDSixPQUFPLFNBQVMsSUFDWixnQkFBZ0IsTUFBTSxNQUFNLFFBQVEsYUFBYSxHQUFHLEVBQUUsSUFBSSxJQUFJLEVBQUUsSUFDaEUsZUFBZSxNQUFNLE1BQU0sYUFBYSxHQUFHLENBQUMsQ0FBQztBQUNuRCxXQUFPLE1BQU0sV0FBVyxJQUFJLENBQUMsSUFBSSxJQUFJLENBQUMsR0FBRyxJQUFJLE1BQU0sR0FBRyxTQUFTLE9BQU8sQ0FBQyxHQUFHLEdBQUc7QUFBQSxFQUMvRSxDQUFDO0FBQ0g7OztBQzdGQSxJQUFNLGFBQWE7QUFFWixTQUFTLGFBQ2QsRUFBRSxZQUFZLFFBQVEsR0FDdEIsTUFDQSxhQUNBLFdBQ0EsUUFDVztBQUNYLFFBQU0sV0FBVyxXQUFXLE9BQU8sQ0FBQyxRQUFRLElBQUksUUFBUSxFQUFFLElBQUksQ0FBQyxFQUFFLEtBQUssTUFBTSxJQUFJO0FBRWhGLFFBQU0sV0FBVyxXQUFXLE9BQU8sQ0FBQyxRQUFRLENBQUMsSUFBSSxZQUFZLElBQUksZUFBZSxJQUFJLEVBQUUsSUFBSSxDQUFDLEVBQUUsS0FBSyxNQUFNLElBQUk7QUFDNUcsUUFBTSxXQUFXLGFBQWEsTUFBTSxhQUFhLENBQUMsR0FBRyxVQUFVLEdBQUcsUUFBUSxHQUFHLEVBQUUsT0FBTyxZQUFZLEdBQUcsVUFBVSxDQUFDO0FBQ2hILFFBQU0sRUFBRSxXQUFXLFdBQVcsSUFBSSxLQUFLLGFBQWEsU0FBWSxDQUFDLElBQUksSUFBSSxJQUFJLEtBQUssUUFBUTtBQUMxRixRQUFNLFlBQVksUUFBUSxZQUFZLENBQUMsR0FBRyxRQUFRLElBQUk7QUFDdEQsUUFBTSxVQUFrQjtBQUFBLElBQ3RCLE9BQU8sYUFBYTtBQUFBLElBQ3BCLEdBQUcsU0FBUyxNQUFNLElBQUksRUFBRSxJQUFJLENBQUMsU0FBUyxPQUFPLEtBQUssSUFBSSxFQUFFLENBQUM7QUFBQSxJQUN6RCxHQUFHLE1BQU0sYUFBYSxTQUFTO0FBQUEsRUFDakM7QUFDQSxTQUFPO0FBQUEsSUFDTCxTQUFTO0FBQUEsTUFDUDtBQUFBLFFBQ0UsT0FBTyxjQUFjO0FBQUEsUUFDckIsT0FBTyxrQkFBa0IsUUFBUSxFQUFFO0FBQUEsUUFDbkMsR0FBSSxVQUFVLENBQUMsSUFBSSxDQUFDLE9BQU8sc0VBQXNFLENBQUM7QUFBQSxNQUNwRztBQUFBLE1BQ0EsTUFBTSxXQUFXLENBQUMsT0FBTyxXQUFXLE9BQU8scURBQXFELENBQUMsRUFBRSxDQUFDLENBQUM7QUFBQSxJQUN2RztBQUFBLElBQ0EsTUFBTTtBQUFBLE1BQ0osTUFBTSxRQUFRLE1BQU0sV0FBVyxPQUFPLENBQUM7QUFBQSxNQUN2QyxNQUFNLFVBQVU7QUFBQSxRQUNkLE9BQU8sYUFBYTtBQUFBLFFBQ3BCLE9BQU8sb0JBQW9CO0FBQUEsUUFDM0IsT0FBTyxHQUFHLE9BQU8sVUFBVSxLQUFLLEtBQUssRUFBRSxDQUFDLGtCQUFrQjtBQUFBLE1BQzVELENBQUM7QUFBQSxJQUNIO0FBQUEsRUFDRjtBQUNGOzs7QUN4Q08sSUFBTSxTQUFOLE1BQWE7QUFBQTtBQUFBLEVBSWxCLFlBQTZCLFlBQTJDLG9CQUFJLElBQUksR0FBRztBQUF0RDtBQUFBLEVBQXVEO0FBQUEsRUFBdkQ7QUFBQSxFQUhaLFNBQVMsb0JBQUksSUFBbUI7QUFBQTtBQUFBLEVBTWpELElBQUksT0FBYyxNQUF5QixRQUF3QjtBQUNqRSxVQUFNLE1BQU0sVUFBVSxNQUFNLElBQUk7QUFDaEMsVUFBTSxTQUFTLFVBQVUsQ0FBQyxHQUFHLEtBQUssTUFBTSxJQUFJLEVBQUUsR0FBRyxNQUFNLElBQUksRUFBRSxLQUFLLEdBQUcsQ0FBQztBQUN0RSxVQUFNLE9BQ0osQ0FBQyxLQUFLLFFBQVEsVUFBVSxHQUFHLE1BQU0sSUFBSSxNQUFNLElBQUksRUFBRSxDQUFDLEVBQUUsS0FBSyxDQUFDLGNBQWMsQ0FBQyxLQUFLLE9BQU8sSUFBSSxTQUFTLENBQUMsS0FDbkcsR0FBRyxHQUFHLElBQUksS0FBSyxPQUFPLElBQUk7QUFDNUIsU0FBSyxPQUFPLElBQUksTUFBTSxLQUFLO0FBQzNCLFdBQU87QUFBQSxFQUNUO0FBQUEsRUFFUSxjQUFjLEVBQUUsS0FBSyxHQUFvQjtBQUMvQyxVQUFNLFdBQVcsS0FBSyxVQUFVLElBQUksSUFBSTtBQUN4QyxRQUFJLENBQUMsU0FBVSxRQUFPLENBQUM7QUFDdkIsVUFBTSxNQUFNLFNBQVMsUUFBUSxpQkFBaUI7QUFDOUMsV0FBTyxTQUFTLFVBQ1osQ0FBQyxnQkFBZ0IsT0FBTyxTQUFTLElBQUksQ0FBQyxHQUFHLEdBQUcsRUFBRSxJQUM5QyxDQUFDLGlCQUFpQixTQUFTLElBQUksR0FBRyxTQUFTLFFBQVEsaUJBQWlCLEVBQUUsRUFBRTtBQUFBLEVBQzlFO0FBQUEsRUFFQSxRQUFnQjtBQUNkLFdBQU8sQ0FBQyxHQUFHLEtBQUssTUFBTSxFQUFFLFFBQVEsQ0FBQyxDQUFDLE1BQU0sS0FBSyxNQUFNO0FBQUEsTUFDakQsT0FBTyxHQUFHLElBQUksR0FBRztBQUFBLE1BQ2pCLEdBQUc7QUFBQSxRQUNELE1BQU0sZUFBZSxVQUFVLE9BQU8sUUFBUSxNQUFNLFdBQVcsQ0FBQyxDQUFDO0FBQUEsUUFDakUsU0FBUyxVQUFVLE1BQU0sSUFBSSxDQUFDO0FBQUEsUUFDOUIsR0FBRyxhQUFhLEtBQUs7QUFBQSxRQUNyQixNQUFNLFlBQVksVUFBYSxZQUFZLEtBQUssTUFBTSxPQUFPLENBQUM7QUFBQSxRQUM5RCxHQUFHLEtBQUssY0FBYyxLQUFLO0FBQUEsUUFDM0IsTUFBTSxZQUFZLFVBQWEsTUFBTSxZQUFZLFVBQWEsYUFBYSxLQUFLLE1BQU0sT0FBTyxDQUFDO0FBQUEsTUFDaEcsRUFDRyxPQUFPLENBQUMsU0FBUyxPQUFPLFNBQVMsUUFBUSxFQUN6QyxJQUFJLENBQUMsU0FBUyxPQUFPLEtBQUssSUFBSSxFQUFFLENBQUM7QUFBQSxJQUN0QyxDQUFDO0FBQUEsRUFDSDtBQUNGO0FBYUEsU0FBUyxhQUFhLEVBQUUsU0FBUyxTQUFTLENBQUMsR0FBRyxLQUFLLEdBQW9CO0FBQ3JFLFFBQU0sUUFBUSxXQUFXLENBQUMsT0FBTyxJQUFJLElBQUksQ0FBQyxXQUFXLEtBQUssT0FBZ0IsQ0FBQyxFQUFFLElBQUksQ0FBQztBQUNsRixhQUFXLFFBQVEsQ0FBQyxZQUFZLFdBQVcsUUFBUSxTQUFTLFNBQVMsR0FBWTtBQUMvRSxVQUFNQyxTQUFRLE9BQU8sSUFBSTtBQUN6QixRQUFJQSxXQUFVLE9BQVcsT0FBTSxLQUFLLEdBQUcsSUFBSSxLQUFLLEtBQUtBLE1BQUssQ0FBQyxFQUFFO0FBQUEsRUFDL0Q7QUFDQSxTQUFPO0FBQ1Q7QUFFTyxJQUFNLFlBQVksQ0FBQyxTQUN4QixLQUFLLFFBQVEscUJBQXFCLEdBQUcsRUFBRSxRQUFRLG9CQUFvQixFQUFFLEtBQUs7OztBQzlEckUsU0FBUyxVQUNkLEVBQUUsUUFBUSxHQUNWLEVBQUUsU0FBUyxRQUFRLFFBQVEsR0FDM0IsT0FDQSxhQUNBLFFBQ1c7QUFDWCxRQUFNLFFBQVEsQ0FBQyxTQUF1QjtBQUNwQyxRQUFJLENBQUMsS0FBSyxPQUFRLFFBQU8sUUFBUSxXQUFXLElBQUksQ0FBQztBQUNqRCxVQUFNLEVBQUUsTUFBQUMsT0FBTSxNQUFNLFNBQVMsUUFBUSxPQUFPLFNBQVMsU0FBUyxJQUFJO0FBQ2xFLFVBQU0sUUFBUTtBQUFBLE1BQ1osTUFBTUEsTUFBSyxHQUFHLEVBQUUsS0FBSztBQUFBLE1BQ3JCO0FBQUEsTUFDQSxVQUFVO0FBQUEsTUFDVixHQUFJLFdBQVcsRUFBRSxRQUFRO0FBQUEsTUFDekIsR0FBSSxVQUFVLEVBQUUsT0FBTztBQUFBLE1BQ3ZCLEdBQUksVUFBVSxVQUFhLEVBQUUsYUFBYSxNQUFNO0FBQUEsTUFDaEQsR0FBSSxhQUFhLFVBQWEsRUFBRSxTQUFTLFNBQVM7QUFBQSxJQUNwRDtBQUNBLFdBQU8sVUFBVSxPQUFPLElBQUksT0FBT0EsT0FBTSxNQUFNLENBQUM7QUFBQSxFQUNsRDtBQUNBLFFBQU0sV0FBVyxhQUFhLE1BQU0sS0FBb0MsYUFBYSxLQUFLO0FBQzFGLFFBQU0sT0FBTyxJQUFJLFNBQVMsT0FBTyxJQUFJLElBQUksSUFBSSxPQUFPLEVBQUUsV0FBVztBQUNqRSxTQUFPO0FBQUEsSUFDTCxTQUFTO0FBQUEsTUFDUDtBQUFBLFFBQ0UsT0FBTyxjQUFjO0FBQUEsUUFDckIsT0FBTyxrQkFBa0IsSUFBSSxFQUFFO0FBQUEsUUFDL0IsR0FBSSxVQUFVLENBQUMsSUFBSSxDQUFDLE9BQU8sMEVBQTBFLENBQUM7QUFBQSxNQUN4RztBQUFBLElBQ0Y7QUFBQSxJQUNBLE1BQU07QUFBQSxNQUNKO0FBQUEsUUFDRTtBQUFBLFFBQ0EsTUFBTSxRQUFRO0FBQUEsVUFDWixPQUFPLGFBQWEsT0FBTyxHQUFHO0FBQUEsVUFDOUIsR0FBSSxXQUFXLE1BQU0sWUFBWSxRQUFRLENBQUMsSUFBSSxDQUFDLE9BQU8sV0FBVyxPQUFPLFdBQVcsS0FBSyxPQUFPLE1BQU0sQ0FBQyxFQUFFLENBQUM7QUFBQSxVQUN6RyxPQUFPLGFBQWE7QUFBQSxVQUNwQixHQUFHLFNBQVMsTUFBTSxJQUFJLEVBQUUsSUFBSSxDQUFDLFNBQVMsT0FBTyxLQUFLLElBQUksRUFBRSxDQUFDO0FBQUEsUUFDM0QsQ0FBQztBQUFBLE1BQ0g7QUFBQSxNQUNBLE1BQU0sVUFBVSxDQUFDLE9BQU8sYUFBYSxHQUFHLE9BQU8sb0JBQW9CLENBQUMsQ0FBQztBQUFBLElBQ3ZFO0FBQUEsRUFDRjtBQUNGOzs7QUNiTyxTQUFTLFVBQVUsRUFBRSxPQUFPLEdBQUcsR0FBc0I7QUFDMUQsU0FBTyxHQUFHLEtBQUssS0FBSyxDQUFDLElBQUksS0FBSyxFQUFFLENBQUM7QUFDbkM7QUFFQSxTQUFTLEtBQUssTUFBc0I7QUFDbEMsU0FBTyxLQUNKLFFBQVEsV0FBQyw4QkFBd0IsSUFBRSxHQUFFLE9BQU8sRUFDNUMsWUFBWSxFQUNaLFFBQVEsb0JBQW9CLEdBQUcsRUFDL0IsUUFBUSxVQUFVLEVBQUU7QUFDekI7QUFHTyxTQUFTLGFBQWEsV0FBc0IsVUFBaUM7QUFDbEYsUUFBTSxTQUFTLElBQUksT0FBTyxTQUFTLFNBQVM7QUFDNUMsUUFBTSxPQUFPLFVBQVUsU0FBUyxXQUFXLFFBQVEsR0FBRyxVQUFVLE1BQU07QUFDdEUsUUFBTSxFQUFFLFFBQVEsU0FBUyxVQUFVLElBQUk7QUFDdkMsUUFBTSxTQUFtQjtBQUFBLElBQ3ZCLENBQUMsT0FBTyxtQ0FBbUMsTUFBTSxFQUFFLENBQUM7QUFBQSxJQUNwRDtBQUFBLE1BQ0UsT0FBTyxVQUFVLE9BQU8sUUFBUSxVQUFVLFdBQVcsVUFBVSxlQUFlLFVBQVUsRUFBRSxDQUFDLENBQUMsRUFBRTtBQUFBLE1BQzlGLE9BQU8sY0FBYyxPQUFPLEdBQUcsVUFBVSxNQUFNLElBQUksVUFBVSxFQUFFLEVBQUUsQ0FBQyxFQUFFO0FBQUEsTUFDcEUsR0FBSSxVQUFVLGFBQWEsQ0FBQyxPQUFPLHNEQUFzRCxDQUFDLElBQUksQ0FBQztBQUFBLElBQ2pHO0FBQUEsSUFDQSxNQUFNLFVBQVUsT0FBTyxNQUFNLENBQUM7QUFBQSxJQUM5QixHQUFHLEtBQUs7QUFBQSxJQUNSLGFBQWEsV0FBVyxTQUFTLFdBQVcsSUFBSTtBQUFBLElBQ2hELEdBQUcsS0FBSztBQUFBLEVBQ1Y7QUFDQSxTQUFPLEdBQUcsT0FDUCxPQUFPLENBQUMsVUFBVSxNQUFNLFNBQVMsQ0FBQyxFQUNsQyxJQUFJLENBQUMsVUFBVSxNQUFNLElBQUksQ0FBQyxFQUFFLFFBQVEsSUFBSSxLQUFLLE1BQU8sS0FBSyxPQUFPLFVBQVUsSUFBSSxDQUFFLEVBQUUsS0FBSyxJQUFJLENBQUMsRUFDNUYsS0FBSyxJQUFJLENBQUM7QUFBQTtBQUNmO0FBR0EsU0FBUyxTQUFTLFdBQXNCLEVBQUUsVUFBVSxHQUE2QjtBQUMvRSxNQUFJLENBQUMsVUFBVyxRQUFPO0FBQ3ZCLFNBQU87QUFBQSxJQUNMLEdBQUc7QUFBQSxJQUNILFlBQVksVUFBVSxXQUFXO0FBQUEsTUFDL0IsQ0FBQyxFQUFFLElBQUksT0FBTyxLQUFLLE1BQU0sVUFBVSxZQUFZLENBQUMsVUFBVSxNQUFNLElBQUksS0FBSyxZQUFZLENBQUM7QUFBQSxJQUN4RjtBQUFBLEVBQ0Y7QUFDRjtBQUVBLFNBQVMsVUFBVSxXQUFzQixVQUF5QixRQUEyQjtBQUMzRixRQUFNLEVBQUUsU0FBUyxLQUFLLElBQUk7QUFDMUIsUUFBTSxFQUFFLE9BQU8sYUFBYSxVQUFVLElBQUk7QUFDMUMsTUFBSSxRQUFTLFFBQU8sYUFBYSxXQUFXLFNBQVMsYUFBYSxXQUFXLE1BQU07QUFDbkYsU0FBTyxPQUFPLFVBQVUsV0FBVyxNQUFNLE9BQU8sYUFBYSxNQUFNLElBQUksVUFBVSxXQUFXLE1BQU07QUFDcEc7QUFFQSxTQUFTLFVBQVUsV0FBc0IsUUFBMkI7QUFDbEUsUUFBTSxLQUFLLENBQUMsVUFDVixVQUFVLFdBQVcsT0FBTyxDQUFDLGNBQWMsVUFBVSxPQUFPLEtBQUs7QUFDbkUsUUFBTSxPQUFPLEdBQUcsTUFBTSxFQUFFLElBQUksQ0FBQyxjQUFjLE9BQU8sSUFBSSxXQUFXLENBQUMsVUFBVSxJQUFJLEdBQUcsTUFBTSxDQUFDO0FBQzFGLFFBQU0sVUFBVSxHQUFHLE1BQU0sRUFBRTtBQUFBLElBQVEsQ0FBQyxFQUFFLEtBQUssR0FBRyxVQUM1QyxLQUFLLEtBQUssTUFBTSxPQUFPLENBQUMsSUFBSSxDQUFDLEVBQUUsUUFBUSxNQUFNLE1BQU0sR0FBRyxJQUFJLElBQUksQ0FBQyxRQUFRLEtBQUssS0FBSyxDQUFDLElBQUksQ0FBQztBQUFBLEVBQ3pGO0FBQ0EsUUFBTSxRQUFRLEdBQUcsT0FBTyxFQUFFLElBQUksQ0FBQyxjQUFjLGNBQWMsV0FBVyxNQUFNLENBQUM7QUFDN0UsUUFBTSxVQUFVLEdBQUcsUUFBUSxFQUFFLElBQUksQ0FBQyxjQUFjLGNBQWMsV0FBVyxNQUFNLENBQUM7QUFDaEYsUUFBTSxPQUFPLFVBQVUsV0FBVyxNQUFNO0FBQ3hDLFFBQU0sU0FBUyxVQUFVLFFBQVEsS0FBSyxDQUFDLEVBQUUsT0FBTyxNQUFNLEtBQUssS0FBSyxNQUFNLENBQUM7QUFDdkUsUUFBTSxTQUFTLFFBQVEsU0FBUztBQUVoQyxTQUFPO0FBQUEsSUFDTCxTQUFTO0FBQUEsTUFDUCxDQUFDLE9BQU8sV0FBVyxVQUFVLE1BQU0sRUFBRSxHQUFHLE9BQU8sUUFBUSxZQUFZLFVBQVUsSUFBSSxDQUFDLEVBQUUsQ0FBQztBQUFBLE1BQ3JGLE1BQU0sUUFBUSxPQUFPO0FBQUEsTUFDckIsTUFBTSxTQUFTLEtBQUs7QUFBQSxNQUNwQixNQUFNLFdBQVcsQ0FBQyxHQUFJLFNBQVMsQ0FBQyxPQUFPLFdBQVcsT0FBTyxNQUFNLENBQUMsRUFBRSxDQUFDLElBQUksQ0FBQyxHQUFJLEdBQUcsT0FBTyxDQUFDO0FBQUEsSUFDekY7QUFBQSxJQUNBLE1BQU0sQ0FBQyxNQUFNLE1BQU0sVUFBVSxhQUFhLE1BQU0sQ0FBQyxHQUFHLE1BQU0sUUFBUSxNQUFNLE1BQU0sQ0FBQyxDQUFDO0FBQUEsRUFDbEY7QUFDRjtBQUVBLFNBQVMsY0FBYyxXQUFzQixRQUFzQjtBQUNqRSxNQUFJLFVBQVU7QUFDWixXQUFPO0FBQUEsTUFDTCxHQUFHLElBQUksVUFBVSxJQUFJLENBQUMsS0FBSyxVQUFVLE9BQU8sSUFBSSxXQUFXLENBQUMsVUFBVSxJQUFJLEdBQUcsVUFBVSxFQUFFLENBQUMsQ0FBQyxHQUFHLE9BQU8sU0FBUyxDQUFDO0FBQUEsSUFDakg7QUFDRixTQUFPLEVBQUUsUUFBUSxPQUFPLE1BQU0sR0FBRyxJQUFJLFVBQVUsSUFBSSxDQUFDLEtBQUssS0FBSyxPQUFPLFNBQVMsQ0FBQyxDQUFDLEdBQUcsT0FBTyxTQUFTLENBQUMsR0FBRztBQUN6RztBQUVBLFNBQVMsYUFDUCxFQUFFLFVBQVUsVUFBVSxVQUFVLEdBQ2hDLFNBQ0EsV0FDUTtBQUVSLE1BQUksU0FBUyxXQUFXLE1BQU0sYUFBYSxVQUFVLGNBQWM7QUFDakUsV0FBTyxDQUFDLE9BQU8sK0VBQStFLENBQUM7QUFDakcsTUFBSSxTQUFTLFdBQVcsRUFBRyxRQUFPLENBQUMsT0FBTyxlQUFlLENBQUM7QUFDMUQsUUFBTSxTQUFTLFNBQ1osSUFBSSxDQUFDLEVBQUUsUUFBUSxNQUFNLFFBQVEsSUFBSSxDQUFDLEVBQUUsTUFBTSxNQUFNLE1BQU0sR0FBRyxJQUFJLEtBQUssS0FBSyxFQUFFLEVBQUUsS0FBSyxPQUFPLENBQUMsRUFDeEYsS0FBSyxPQUFPO0FBQ2YsTUFBSSxjQUFjLFVBQWEsU0FBUyxNQUFNLENBQUMsRUFBRSxRQUFRLE1BQU0sUUFBUSxXQUFXLENBQUM7QUFDakYsV0FBTyxDQUFDLE9BQU8sZUFBZSxHQUFHLE9BQU8sY0FBYyxPQUFPLFNBQVMsQ0FBQyxnQ0FBZ0MsTUFBTSxFQUFFLENBQUM7QUFDbEgsTUFBSSxjQUFjO0FBQ2hCLFdBQU87QUFBQSxNQUNMLEdBQUcsYUFBYSxFQUFFLFVBQVUsVUFBVSxVQUFVLEdBQWdCLFNBQVMsTUFBUztBQUFBLE1BQ2xGLE9BQU8sY0FBYyxPQUFPLFNBQVMsQ0FBQyxFQUFFO0FBQUEsSUFDMUM7QUFDRixTQUFPLFlBQVksU0FDZixDQUFDLEVBQUUsUUFBUSxPQUFPLE1BQU0sNkNBQTZDLE1BQU0sR0FBRyxDQUFDLElBQy9FLENBQUMsT0FBTyxZQUFZLE9BQU8sT0FBTyxDQUFDLGdDQUFnQyxNQUFNLEVBQUUsQ0FBQztBQUNsRjtBQUVBLFNBQVMsYUFBYSxRQUEwRDtBQUM5RSxNQUFJLENBQUMsT0FBUSxRQUFPLENBQUM7QUFDckIsUUFBTSxRQUFRLENBQUMsT0FBTyxXQUFXLFFBQVEsS0FBSyxPQUFPLE1BQU0sSUFBSSxPQUFPLFNBQVMsT0FBTyxPQUFPLFlBQVksQ0FBQyxFQUFFLENBQUM7QUFDN0csTUFBSSxPQUFPLFFBQVMsT0FBTSxLQUFLLE9BQU8sc0NBQXNDLE9BQU8sT0FBTyxRQUFRLElBQUksQ0FBQyxHQUFHLENBQUM7QUFDM0csTUFBSSxPQUFPLFNBQVMsV0FBVyxVQUFhLGFBQWEsS0FBSyxPQUFPLFFBQVEsSUFBSTtBQUMvRSxVQUFNLEtBQUssT0FBTyx5QkFBeUIsQ0FBQztBQUM5QyxTQUFPO0FBQ1Q7QUFHQSxTQUFTLE1BQU0sUUFBMEQ7QUFDdkUsUUFBTSxRQUFRLEtBQUssVUFBVSxRQUFRLFNBQVMsVUFBVSxJQUFJLEVBQUUsV0FBVyxpQkFBaUI7QUFDMUYsUUFBTSxPQUFPLFFBQVEsU0FBUyxVQUFVLENBQUMsR0FDdEMsT0FBTyxDQUFDLFVBQVUsTUFBTSxZQUFZLGdCQUFnQixLQUFLLE1BQU0sSUFBSSxDQUFDLEVBQ3BFLE1BQU0sR0FBRyxDQUFDO0FBQ2IsUUFBTSxNQUFNLFlBQVksS0FBSyxRQUFRLFNBQVMsUUFBUSxFQUFFO0FBQ3hELFFBQU0sUUFBUSxDQUFDLEVBQUUsTUFBTSxLQUFLLFFBQVEsTUFDbEMsTUFBTSxHQUFHLFNBQVMsWUFBWSxRQUFRLElBQUksR0FBRyxTQUFTLFFBQVEsSUFBSSxLQUFLLEtBQUssSUFBSTtBQUNsRixRQUFNLFFBQVEsUUFBUSxDQUFDLElBQUksSUFBSSxJQUFJLENBQUMsV0FBVyxFQUFFLFFBQVEsT0FBTyxNQUFNLEdBQUcsVUFBVSxNQUFNLElBQUksQ0FBQyxLQUFLLE1BQU0sS0FBSyxDQUFDLEdBQUcsRUFBRTtBQUNwSCxNQUFJLFFBQVEsUUFBUSxLQUFLLENBQUMsV0FBVyxPQUFPLEtBQUssWUFBWSxNQUFNLFVBQVU7QUFDM0UsVUFBTSxLQUFLLEVBQUUsUUFBUSxPQUFPLE1BQU0sMkJBQTJCLENBQUM7QUFDaEUsU0FBTztBQUNUO0FBRUEsU0FBUyxZQUFZLE1BQXNCO0FBQ3pDLFFBQU0sUUFBUSxLQUFLLFFBQVEsZ0JBQWdCLENBQUMsR0FBRyxTQUFpQixJQUFJLElBQUksR0FBRztBQUMzRSxTQUFPLGFBQWEsS0FBSztBQUMzQjsiLAogICJuYW1lcyI6IFsidmFsdWUiLCAidmFsdWUiLCAidmFsdWUiLCAicGF0aCJdCn0K
