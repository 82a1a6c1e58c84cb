import {
  exampleFrom,
  exampleValue,
  xmlText
} from "./chunk-UUVSR64B.js";
import {
  escaped
} from "./chunk-VDPV4SN2.js";
import {
  safeMethods
} from "./chunk-GHHZ6UXC.js";
import {
  asJsonSchema
} from "./chunk-2P5QH4SA.js";
import {
  below,
  isMap,
  references
} from "./chunk-M6H7XQX2.js";
import {
  operatorsSaid
} from "./chunk-2YNHSDXB.js";
import {
  textOf
} from "./chunk-ZC7SUIQQ.js";

// src/core/documentation/openapi/schema.ts
var deepest = 12;
var mostFields = 2e3;
function fieldReader(references2, levels = deepest) {
  const last = Math.min(levels, deepest);
  let budget = mostFields;
  function whole(schema, at, depth = 0) {
    const own = references2.follow(schema, at);
    if (!isMap(own)) return {};
    const beside = isMap(schema) && schema.$ref !== void 0 ? siblings(schema) : {};
    const base = { ...own, ...beside };
    if (!Array.isArray(base.allOf) || depth > deepest) return base;
    const parts = [...base.allOf.map((part, index) => whole(part, `${at}/allOf/${index}`, depth + 1)), base];
    const merged = {};
    for (const part of parts) {
      for (const [key, value] of Object.entries(part)) {
        if (key === "allOf") continue;
        const before = merged[key];
        if (key === "properties" && isMap(before) && isMap(value)) merged[key] = { ...before, ...value };
        else if (key === "required" && Array.isArray(before) && Array.isArray(value))
          merged[key] = [...before, ...value];
        else merged[key] = value;
      }
    }
    return merged;
  }
  function members(schema, at, above, depth) {
    const { properties, required, items, oneOf, anyOf } = whole(schema, at);
    if (items !== void 0) return members(items, `${at}/items`, above, depth);
    if (!isMap(properties)) {
      const alternatives = Array.isArray(oneOf) ? oneOf : Array.isArray(anyOf) ? anyOf : [];
      const first = alternatives.find((one2) => isMap(whole(one2, at).properties));
      return first === void 0 ? [] : members(first, at, above, depth);
    }
    const needed = new Set(Array.isArray(required) ? required : []);
    return Object.entries(properties).map(
      ([name, inner]) => one(name, inner, needed.has(name), `${at}/properties/${name}`, above, depth)
    );
  }
  function one(name, schema, required, at, above, depth) {
    const own = whole(schema, at);
    const reference = referenceIn(schema);
    const recursive = reference !== void 0 && above.includes(reference) ? reference.replace(/^.*\//, "") : void 0;
    const inside = reference === void 0 ? above : [...above, reference];
    budget -= 1;
    const stop = recursive !== void 0 || depth >= last || budget <= 0;
    const more = stop && recursive === void 0 && isMap(contentOf(own, at).properties);
    const fields = stop ? [] : members(own, at, inside, depth + 1);
    const alternatives = stop ? void 0 : alternativesOf(own, at, inside, depth + 1);
    return {
      name,
      type: typeText(own, (inner) => whole(inner, at)),
      required,
      ...fact("description", text(own.description)),
      ...fact("default", own.default),
      ...fact("example", exampleOf(own)),
      ...fact("allowed", allowedOf(own)),
      ...fact("limits", limitsOf(own)),
      ...own.readOnly === true && { readOnly: true },
      ...own.writeOnly === true && { writeOnly: true },
      ...own.deprecated === true && { deprecated: true },
      ...fields.length > 0 && { fields },
      ...fact(
        "xml",
        xmlOf(own, (inner) => whole(inner, at))
      ),
      ...fact("recursive", recursive),
      ...more && { more: reference?.replace(/^.*\//, "") ?? "" },
      ...fact("alternatives", alternatives)
    };
  }
  const contentOf = (own, at) => own.items === void 0 ? own : whole(own.items, `${at}/items`);
  function alternativesOf(own, at, above, depth) {
    const key = Array.isArray(own.oneOf) ? "oneOf" : "anyOf";
    const given = own[key];
    if (!Array.isArray(given) || depth > last) return void 0;
    const shapes = given.filter((one2) => whole(one2, at).type !== "null");
    if (shapes.length < 2 || !shapes.some((one2) => isMap(whole(one2, at).properties))) return void 0;
    const property = isMap(own.discriminator) ? own.discriminator.propertyName : void 0;
    const mapping = isMap(own.discriminator) && isMap(own.discriminator.mapping) ? own.discriminator.mapping : {};
    return shapes.map((one2, index) => {
      const reference = referenceIn(one2);
      const shape = whole(one2, at);
      const name = reference?.replace(/^.*\//, "") ?? (typeof shape.title === "string" ? shape.title : `shape ${index + 1}`);
      const value = Object.entries(mapping).find(([, target]) => target === reference || target === name)?.[0] ?? (reference === void 0 ? void 0 : name);
      const again = reference !== void 0 && above.includes(reference);
      return {
        name,
        ...typeof property === "string" && value !== void 0 && { when: `${property}: ${value}` },
        fields: again ? [] : members(one2, `${at}/${key}/${index}`, reference === void 0 ? above : [...above, reference], depth + 1)
      };
    });
  }
  return {
    alternatives(schema, at) {
      const own = whole(schema, at);
      return alternativesOf(own.items === void 0 ? own : whole(own.items, at), at, [], 0);
    },
    fields(schema, at) {
      budget = mostFields;
      const reference = referenceIn(schema);
      return members(schema, at, reference === void 0 ? [] : [reference], 0);
    },
    field: (name, schema, required, at) => one(name, schema, required, at, [], 0)
  };
}
function describeSchema(name, key, definitions) {
  const links = references(definitions);
  const reader = fieldReader(links);
  const reference = { $ref: key };
  const field = reader.field(name, reference, false, key);
  const alternatives = reader.alternatives(reference, key);
  return {
    name,
    kind: field.allowed ? "enumeration" : field.type,
    ...fact("description", field.description),
    fields: reader.fields(reference, key),
    ...fact("allowed", field.allowed),
    ...fact("alternatives", alternatives)
  };
}
function siblings({ $ref: _, ...beside }) {
  return beside;
}
function referenceIn(schema) {
  if (!isMap(schema)) return void 0;
  if (typeof schema.$ref === "string") return schema.$ref;
  return isMap(schema.items) && typeof schema.items.$ref === "string" ? schema.items.$ref : void 0;
}
var text = (value) => typeof value === "string" && value !== "" ? value : void 0;
function fact(key, value) {
  return value === void 0 ? {} : { [key]: value };
}
function xmlOf(schema, whole) {
  const { xml, items } = schema;
  const inner = items === void 0 ? void 0 : whole(items).xml;
  const item = isMap(inner) && typeof inner.name === "string" ? inner.name : void 0;
  if (!isMap(xml) && item === void 0) return void 0;
  const own = isMap(xml) ? xml : {};
  return {
    ...fact("name", text(own.name)),
    ...fact("namespace", text(own.namespace)),
    ...fact("prefix", text(own.prefix)),
    ...own.attribute === true && { attribute: true },
    ...own.wrapped === true && { wrapped: true },
    ...fact("item", item)
  };
}
function exampleOf(schema) {
  if (schema.example !== void 0) return schema.example;
  return Array.isArray(schema.examples) ? schema.examples[0] : void 0;
}
function allowedOf(schema) {
  if (schema.const !== void 0) return [schema.const];
  const own = Array.isArray(schema.enum) ? schema.enum : isMap(schema.items) && Array.isArray(schema.items.enum) ? schema.items.enum : void 0;
  return own;
}
function typeText(schema, whole) {
  const { type, format, items, oneOf, anyOf, properties, nullable } = schema;
  const types = Array.isArray(type) ? type.map(String) : typeof type === "string" ? [type] : [];
  const alternatives = Array.isArray(oneOf) ? oneOf : Array.isArray(anyOf) ? anyOf : void 0;
  if (types.length === 0 && alternatives) {
    return [...new Set(alternatives.map((one) => typeText(whole(one), whole)))].join(" or ");
  }
  if (types.length === 0) types.push(properties === void 0 ? items === void 0 ? "any" : "array" : "object");
  if (nullable === true && !types.includes("null")) types.push("null");
  return types.map((one) => {
    if (one === "array") return items === void 0 ? "array" : `array of ${typeText(whole(items), whole)}`;
    return one !== "null" && typeof format === "string" ? `${one} (${format})` : one;
  }).join(" or ");
}
var limitKeys = {
  minimum: "at-least",
  maximum: "at-most",
  exclusiveMinimum: "over",
  exclusiveMaximum: "under",
  multipleOf: "multiple-of",
  minLength: "least-length",
  maxLength: "most-length",
  minItems: "least-items",
  maxItems: "most-items"
};
function limitsOf(given) {
  const { properties: _, items: __, allOf: ___, ...own } = given;
  const schema = asJsonSchema(own);
  const limits = {};
  for (const [key, name] of Object.entries(limitKeys)) {
    const value = schema[key];
    if (typeof value === "number") limits[name] = value;
  }
  if (typeof schema.pattern === "string") limits.matches = schema.pattern;
  if (schema.uniqueItems === true) limits["no-item-twice"] = true;
  return Object.keys(limits).length > 0 ? limits : void 0;
}

// src/core/documentation/openapi/security.ts
function securityNeeds(wanted, references2, at) {
  if (!Array.isArray(wanted)) return [];
  if (wanted.some((need) => isMap(need) && Object.keys(need).length === 0)) return [];
  return wanted.filter(isMap).map((need) => ({
    schemes: Object.keys(need).map((name) => {
      const scheme = references2.follow({ $ref: `#/components/securitySchemes/${name}` }, at);
      if (!isMap(scheme)) return { name, about: "not described" };
      return {
        name,
        about: schemeText(scheme),
        ...typeof scheme.description === "string" && { description: scheme.description.trim() },
        ...scheme.in === "header" && typeof scheme.name === "string" && { header: scheme.name }
      };
    })
  }));
}
function schemeText(scheme) {
  switch (scheme.type) {
    case "http":
      return `HTTP ${String(scheme.scheme)} authentication${scheme.bearerFormat ? ` (${String(scheme.bearerFormat)})` : ""}`;
    case "apiKey":
      return `a key in the ${String(scheme.in)} ${String(scheme.name)}`;
    case "oauth2":
      return `OAuth 2.0 (${Object.keys(isMap(scheme.flows) ? scheme.flows : {}).join(", ")})`;
    case "openIdConnect":
      return "OpenID Connect";
    case "mutualTLS":
      return "a client certificate";
    default:
      return String(scheme.type);
  }
}

// src/core/documentation/openapi/describe.ts
var locations = /* @__PURE__ */ new Set(["path", "query", "header", "cookie"]);
var ownHeaders = /* @__PURE__ */ new Set(["accept", "content-type", "authorization"]);
var usualStyles = /* @__PURE__ */ new Set(["form", "simple"]);
function describeOperation(entry, source, definitions, depth) {
  const links = references(definitions);
  return new Description(entry, source, links, fieldReader(links, depth)).operation();
}
var isParameter = (given) => isMap(given) && typeof given.name === "string" && locations.has(String(given.in));
var Description = class {
  constructor(entry, source, references2, reader) {
    this.entry = entry;
    this.source = source;
    this.references = references2;
    this.reader = reader;
    this.own = entry.own;
  }
  entry;
  source;
  references;
  reader;
  own;
  operation() {
    const { entry, source } = this;
    const { operation: own, at, shared, security } = this.own;
    const body = this.body(own.requestBody, below(at, "requestBody"));
    const extensions = Object.entries(own).filter(([key]) => key.startsWith("x-"));
    const callbacks = isMap(own.callbacks) ? callbackNames(own.callbacks) : [];
    return {
      id: entry.id,
      source,
      protocol: "http",
      group: entry.group,
      ...entry.summary !== void 0 && { summary: entry.summary },
      ...typeof own.description === "string" && { description: own.description.trim() },
      method: entry.method,
      path: entry.path,
      deprecated: own.deprecated === true,
      changes: !safeMethods.has(entry.method),
      ...callbacks.length > 0 && { callbacks },
      ...extensions.length > 0 && { extensions: Object.fromEntries(extensions) },
      ...entry.links && { links: entry.links },
      parameters: this.parameters(shared, own.parameters, entry.path, at),
      ...body && { body },
      answers: this.answers(own.responses, below(at, "responses")),
      security: securityNeeds(security, this.references, at)
    };
  }
  parameters(shared, own, path, at) {
    const found = /* @__PURE__ */ new Map();
    for (const list of [shared, own]) {
      const listAt = below(at, "parameters");
      for (const [index, given] of (Array.isArray(list) ? list : []).entries()) {
        const parameter = this.parameter(given, below(listAt, index));
        if (parameter) found.set(`${parameter.in} ${parameter.name}`, parameter);
      }
    }
    for (const [, name] of path.matchAll(/\{([^}]+)\}/g)) {
      if (name === void 0 || found.has(`path ${name}`)) continue;
      found.set(`path ${name}`, { name, in: "path", type: "string", required: true });
    }
    return [...found.values()];
  }
  parameter(given, at) {
    const own = this.references.follow(given, at);
    if (own === void 0) return void 0;
    if (!isParameter(own)) return void 0;
    if (own.in === "header" && ownHeaders.has(own.name.toLowerCase())) return void 0;
    const content = isMap(own.content) ? Object.values(own.content)[0] : void 0;
    const schema = own.schema ?? (isMap(content) ? content.schema : void 0);
    const field = this.reader.field(own.name, schema, own.required === true || own.in === "path", at);
    const example = own.example ?? firstExample(own.examples);
    const operators = field.type === "string" ? operatorsSaid(text2(own.description)) : [];
    return {
      ...field,
      ...operators.length > 0 && { clauses: { fields: [], operators } },
      in: own.in,
      ...typeof own.description === "string" && { description: own.description },
      ...example !== void 0 && { example },
      ...own.deprecated === true && { deprecated: true },
      ...field.type.startsWith("array") && {
        lists: own.explode === false ? "joined" : "repeated"
      },
      ...typeof own.style === "string" && !usualStyles.has(own.style) && { style: own.style }
    };
  }
  body(given, at) {
    if (given === void 0) return void 0;
    const own = this.references.follow(given, at);
    if (!isMap(own) || !isMap(own.content)) return void 0;
    const content = this.content(own.content, below(at, "content"), true);
    return content && {
      ...content,
      required: own.required === true,
      otherTypes: Object.keys(own.content).filter((type) => type !== content.type)
    };
  }
  answers(given, at) {
    return Object.entries(isMap(given) ? given : {}).flatMap(([status, one]) => {
      const where = below(at, status);
      const own = this.references.follow(one, where);
      if (!isMap(own)) return [];
      const content = isMap(own.content) ? this.content(own.content, below(where, "content"), false) : void 0;
      return [
        {
          status,
          ...typeof own.description === "string" && { description: own.description },
          ...content && { content },
          headers: this.headers(own.headers, below(where, "headers"))
        }
      ];
    });
  }
  headers(given, at) {
    return Object.entries(isMap(given) ? given : {}).flatMap(([name, one]) => {
      const own = this.references.follow(one, below(at, name));
      if (!isMap(own)) return [];
      const field = this.reader.field(name, own.schema, own.required === true, below(at, name));
      return [typeof own.description === "string" ? { ...field, description: own.description } : field];
    });
  }
  /** The JSON content where there is one, else the first. */
  content(content, at, toSend) {
    const types = Object.keys(content);
    const type = types.find((one) => /^application\/(?:[\w.-]+\+)?json\b/.test(one)) ?? types[0];
    if (type === void 0) return void 0;
    const own = content[type];
    if (!isMap(own)) return void 0;
    const where = below(below(at, type), "schema");
    const fields = this.reader.fields(own.schema, where);
    const alternatives = this.reader.alternatives(own.schema, where);
    const schema = this.references.follow(own.schema, where);
    const documented = own.example ?? firstExample(own.examples) ?? (isMap(schema) ? exampleOf(schema) : void 0);
    const list = isMap(schema) && schema.type === "array";
    const made = fields.length === 0 ? void 0 : exampleFrom(fields, { toSend });
    const xml = /[/+]xml\b/.test(type) ? this.root(own.schema, schema) : void 0;
    const written = xml && made !== void 0 ? xmlExample(fields, xml, toSend) : void 0;
    const example = documented ?? written ?? (list && made !== void 0 ? [made] : made);
    return {
      type,
      fields,
      ...example !== void 0 && { example },
      documentedExample: documented !== void 0,
      ...own.schema !== void 0 && { schema: own.schema },
      ...alternatives && { alternatives },
      ...xml && { xml }
    };
  }
  /** The root element: named by the schema, else by the name that the schema has in the document. */
  root(given, schema) {
    const own = isMap(schema) ? xmlOf(schema, () => ({})) : void 0;
    const reference = isMap(given) && typeof given.$ref === "string" ? given.$ref.replace(/^.*\//, "") : void 0;
    return { ...reference !== void 0 && { name: reference }, ...own };
  }
};
function xmlExample(fields, xml, toSend) {
  const lines = xmlText(
    { fields, xml },
    {
      takes: ({ readOnly, writeOnly }) => !(toSend ? readOnly : writeOnly),
      value: (field) => escaped(textOf(firstOf(exampleValue(field)))),
      optional: (own) => own,
      repeats: () => []
    }
  );
  return lines.join("\n");
}
var firstOf = (value) => Array.isArray(value) ? value[0] ?? "" : value;
var text2 = (given) => typeof given === "string" ? given : void 0;
function firstExample(examples) {
  const first = isMap(examples) ? Object.values(examples)[0] : void 0;
  return isMap(first) ? first.value : void 0;
}
function callbackNames(callbacks) {
  return Object.entries(callbacks).flatMap(
    ([name, one]) => isMap(one) ? Object.entries(one).flatMap(
      ([address, item]) => isMap(item) ? Object.keys(item).filter(isMethod).map((method) => `${name}: ${method.toUpperCase()} ${address}`) : []
    ) : []
  );
}
var isMethod = (key) => /^(?:get|put|post|delete|options|head|patch|trace)$/.test(key);
function documentedLinks(responses, references2, at) {
  const found = [];
  for (const one of Object.values(isMap(responses) ? responses : {})) {
    const answer = references2.follow(one, at);
    for (const given of Object.values(isMap(answer) && isMap(answer.links) ? answer.links : {})) {
      const link = references2.follow(given, at);
      if (!isMap(link) || typeof link.operationId !== "string" || !isMap(link.parameters)) continue;
      for (const [parameter, from] of Object.entries(link.parameters)) {
        const place = /^\$response\.body#(\/.*)$/.exec(String(from))?.[1];
        if (place !== void 0)
          found.push({
            operation: link.operationId,
            parameter: parameter.replace(/^(?:path|query|header)\./, ""),
            from: `$${place.replaceAll("/", ".")}`
          });
      }
    }
  }
  return found;
}

export {
  describeSchema,
  describeOperation,
  isParameter,
  documentedLinks
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi9vcGVuYXBpL3NjaGVtYS50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9kb2N1bWVudGF0aW9uL29wZW5hcGkvc2VjdXJpdHkudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi9vcGVuYXBpL2Rlc2NyaWJlLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogU2NoZW1hcyBhcyBmaWVsZHMgZm9yIHBlb3BsZS4gKi9cbmltcG9ydCB0eXBlIHsgVmFsdWUgfSBmcm9tICcuLi8uLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB0eXBlIHsgQWx0ZXJuYXRpdmUsIERlZmluaXRpb25zLCBGaWVsZCwgTGltaXRzLCBUeXBlRGVzY3JpcHRpb24sIFhtbFdyaXRpbmcgfSBmcm9tICcuLi9tb2RlbC5qcyc7XG5pbXBvcnQgeyBhc0pzb25TY2hlbWEgfSBmcm9tICcuL2pzb24tc2NoZW1hLmpzJztcbmltcG9ydCB7IGlzTWFwLCB0eXBlIEpzb24sIHR5cGUgSnNvbk1hcCwgcmVmZXJlbmNlcyBhcyBtYWtlUmVmZXJlbmNlcywgdHlwZSBSZWZlcmVuY2VzIH0gZnJvbSAnLi9yZWZlcmVuY2VzLmpzJztcblxuLyoqIEJleW9uZCB0aGlzIG5vdGhpbmcgaXMgbGlzdGVkIGFueSBtb3JlOiBhIHBlcnNvbiBoYXMgc3RvcHBlZCByZWFkaW5nLCBhbmQgYSBkb2N1bWVudCBtYXkgYmUgaG9zdGlsZS4gKi9cbmNvbnN0IGRlZXBlc3QgPSAxMjtcbmNvbnN0IG1vc3RGaWVsZHMgPSAyMDAwO1xuXG5leHBvcnQgaW50ZXJmYWNlIEZpZWxkUmVhZGVyIHtcbiAgLyoqIFRoZSBtZW1iZXJzIG9mIGFuIG9iamVjdCBzY2hlbWEsIG9yIG9mIHRoZSBpdGVtcyBvZiBhIGxpc3Qgc2NoZW1hLiAqL1xuICBmaWVsZHMoc2NoZW1hOiBKc29uIHwgdW5kZWZpbmVkLCBhdDogc3RyaW5nKTogcmVhZG9ubHkgRmllbGRbXTtcbiAgZmllbGQobmFtZTogc3RyaW5nLCBzY2hlbWE6IEpzb24gfCB1bmRlZmluZWQsIHJlcXVpcmVkOiBib29sZWFuLCBhdDogc3RyaW5nKTogRmllbGQ7XG4gIC8qKiBUaGUgc2hhcGVzIG9mIGBvbmVPZmAgb3IgYGFueU9mYCwgd2hlcmUgdGhlIHNjaGVtYSBoYXMgc2V2ZXJhbC4gKi9cbiAgYWx0ZXJuYXRpdmVzKHNjaGVtYTogSnNvbiB8IHVuZGVmaW5lZCwgYXQ6IHN0cmluZyk6IHJlYWRvbmx5IEFsdGVybmF0aXZlW10gfCB1bmRlZmluZWQ7XG59XG5cbi8qKlxuICogQHBhcmFtIHJlZmVyZW5jZXMgb2YgdGhlIGRvY3VtZW50IHRoYXQgdGhlIHNjaGVtYXMgc3RhbmQgaW5cbiAqIEBwYXJhbSBsZXZlbHMgb2YgbWVtYmVycyBiZWxvdyBtZW1iZXJzIHRoYXQgYXJlIGRlc2NyaWJlZFxuICovXG5leHBvcnQgZnVuY3Rpb24gZmllbGRSZWFkZXIocmVmZXJlbmNlczogUmVmZXJlbmNlcywgbGV2ZWxzID0gZGVlcGVzdCk6IEZpZWxkUmVhZGVyIHtcbiAgY29uc3QgbGFzdCA9IE1hdGgubWluKGxldmVscywgZGVlcGVzdCk7XG4gIGxldCBidWRnZXQgPSBtb3N0RmllbGRzO1xuXG4gIC8qKiBUaGUgc2NoZW1hIHdpdGggcmVmZXJlbmNlcyBmb2xsb3dlZCBhbmQgYGFsbE9mYCBsYWlkIHRvZ2V0aGVyLiAqL1xuICBmdW5jdGlvbiB3aG9sZShzY2hlbWE6IEpzb24gfCB1bmRlZmluZWQsIGF0OiBzdHJpbmcsIGRlcHRoID0gMCk6IEpzb25NYXAge1xuICAgIGNvbnN0IG93biA9IHJlZmVyZW5jZXMuZm9sbG93KHNjaGVtYSwgYXQpO1xuICAgIGlmICghaXNNYXAob3duKSkgcmV0dXJuIHt9O1xuICAgIGNvbnN0IGJlc2lkZSA9IGlzTWFwKHNjaGVtYSkgJiYgc2NoZW1hLiRyZWYgIT09IHVuZGVmaW5lZCA/IHNpYmxpbmdzKHNjaGVtYSkgOiB7fTtcbiAgICBjb25zdCBiYXNlID0geyAuLi5vd24sIC4uLmJlc2lkZSB9O1xuICAgIGlmICghQXJyYXkuaXNBcnJheShiYXNlLmFsbE9mKSB8fCBkZXB0aCA+IGRlZXBlc3QpIHJldHVybiBiYXNlO1xuICAgIGNvbnN0IHBhcnRzID0gWy4uLmJhc2UuYWxsT2YubWFwKChwYXJ0OiBKc29uLCBpbmRleCkgPT4gd2hvbGUocGFydCwgYCR7YXR9L2FsbE9mLyR7aW5kZXh9YCwgZGVwdGggKyAxKSksIGJhc2VdO1xuICAgIGNvbnN0IG1lcmdlZDogUmVjb3JkPHN0cmluZywgSnNvbj4gPSB7fTtcbiAgICBmb3IgKGNvbnN0IHBhcnQgb2YgcGFydHMpIHtcbiAgICAgIGZvciAoY29uc3QgW2tleSwgdmFsdWVdIG9mIE9iamVjdC5lbnRyaWVzKHBhcnQpKSB7XG4gICAgICAgIGlmIChrZXkgPT09ICdhbGxPZicpIGNvbnRpbnVlO1xuICAgICAgICBjb25zdCBiZWZvcmUgPSBtZXJnZWRba2V5XTtcbiAgICAgICAgaWYgKGtleSA9PT0gJ3Byb3BlcnRpZXMnICYmIGlzTWFwKGJlZm9yZSkgJiYgaXNNYXAodmFsdWUpKSBtZXJnZWRba2V5XSA9IHsgLi4uYmVmb3JlLCAuLi52YWx1ZSB9O1xuICAgICAgICBlbHNlIGlmIChrZXkgPT09ICdyZXF1aXJlZCcgJiYgQXJyYXkuaXNBcnJheShiZWZvcmUpICYmIEFycmF5LmlzQXJyYXkodmFsdWUpKVxuICAgICAgICAgIG1lcmdlZFtrZXldID0gWy4uLmJlZm9yZSwgLi4udmFsdWVdO1xuICAgICAgICBlbHNlIG1lcmdlZFtrZXldID0gdmFsdWU7XG4gICAgICB9XG4gICAgfVxuICAgIHJldHVybiBtZXJnZWQ7XG4gIH1cblxuICBmdW5jdGlvbiBtZW1iZXJzKHNjaGVtYTogSnNvbiB8IHVuZGVmaW5lZCwgYXQ6IHN0cmluZywgYWJvdmU6IHJlYWRvbmx5IHN0cmluZ1tdLCBkZXB0aDogbnVtYmVyKTogcmVhZG9ubHkgRmllbGRbXSB7XG4gICAgY29uc3QgeyBwcm9wZXJ0aWVzLCByZXF1aXJlZCwgaXRlbXMsIG9uZU9mLCBhbnlPZiB9ID0gd2hvbGUoc2NoZW1hLCBhdCk7XG4gICAgaWYgKGl0ZW1zICE9PSB1bmRlZmluZWQpIHJldHVybiBtZW1iZXJzKGl0ZW1zLCBgJHthdH0vaXRlbXNgLCBhYm92ZSwgZGVwdGgpO1xuICAgIGlmICghaXNNYXAocHJvcGVydGllcykpIHtcbiAgICAgIGNvbnN0IGFsdGVybmF0aXZlcyA9IEFycmF5LmlzQXJyYXkob25lT2YpID8gb25lT2YgOiBBcnJheS5pc0FycmF5KGFueU9mKSA/IGFueU9mIDogW107XG4gICAgICBjb25zdCBmaXJzdCA9IGFsdGVybmF0aXZlcy5maW5kKChvbmU6IEpzb24pID0+IGlzTWFwKHdob2xlKG9uZSwgYXQpLnByb3BlcnRpZXMpKTtcbiAgICAgIHJldHVybiBmaXJzdCA9PT0gdW5kZWZpbmVkID8gW10gOiBtZW1iZXJzKGZpcnN0LCBhdCwgYWJvdmUsIGRlcHRoKTtcbiAgICB9XG4gICAgY29uc3QgbmVlZGVkID0gbmV3IFNldChBcnJheS5pc0FycmF5KHJlcXVpcmVkKSA/IHJlcXVpcmVkIDogW10pO1xuICAgIHJldHVybiBPYmplY3QuZW50cmllcyhwcm9wZXJ0aWVzKS5tYXAoKFtuYW1lLCBpbm5lcl0pID0+XG4gICAgICBvbmUobmFtZSwgaW5uZXIsIG5lZWRlZC5oYXMobmFtZSksIGAke2F0fS9wcm9wZXJ0aWVzLyR7bmFtZX1gLCBhYm92ZSwgZGVwdGgpLFxuICAgICk7XG4gIH1cblxuICBmdW5jdGlvbiBvbmUoXG4gICAgbmFtZTogc3RyaW5nLFxuICAgIHNjaGVtYTogSnNvbiB8IHVuZGVmaW5lZCxcbiAgICByZXF1aXJlZDogYm9vbGVhbixcbiAgICBhdDogc3RyaW5nLFxuICAgIGFib3ZlOiByZWFkb25seSBzdHJpbmdbXSxcbiAgICBkZXB0aDogbnVtYmVyLFxuICApOiBGaWVsZCB7XG4gICAgY29uc3Qgb3duID0gd2hvbGUoc2NoZW1hLCBhdCk7XG4gICAgY29uc3QgcmVmZXJlbmNlID0gcmVmZXJlbmNlSW4oc2NoZW1hKTtcbiAgICBjb25zdCByZWN1cnNpdmUgPSByZWZlcmVuY2UgIT09IHVuZGVmaW5lZCAmJiBhYm92ZS5pbmNsdWRlcyhyZWZlcmVuY2UpID8gcmVmZXJlbmNlLnJlcGxhY2UoL14uKlxcLy8sICcnKSA6IHVuZGVmaW5lZDtcbiAgICBjb25zdCBpbnNpZGUgPSByZWZlcmVuY2UgPT09IHVuZGVmaW5lZCA/IGFib3ZlIDogWy4uLmFib3ZlLCByZWZlcmVuY2VdO1xuICAgIGJ1ZGdldCAtPSAxO1xuICAgIGNvbnN0IHN0b3AgPSByZWN1cnNpdmUgIT09IHVuZGVmaW5lZCB8fCBkZXB0aCA+PSBsYXN0IHx8IGJ1ZGdldCA8PSAwO1xuICAgIGNvbnN0IG1vcmUgPSBzdG9wICYmIHJlY3Vyc2l2ZSA9PT0gdW5kZWZpbmVkICYmIGlzTWFwKGNvbnRlbnRPZihvd24sIGF0KS5wcm9wZXJ0aWVzKTtcbiAgICBjb25zdCBmaWVsZHMgPSBzdG9wID8gW10gOiBtZW1iZXJzKG93biwgYXQsIGluc2lkZSwgZGVwdGggKyAxKTtcbiAgICBjb25zdCBhbHRlcm5hdGl2ZXMgPSBzdG9wID8gdW5kZWZpbmVkIDogYWx0ZXJuYXRpdmVzT2Yob3duLCBhdCwgaW5zaWRlLCBkZXB0aCArIDEpO1xuICAgIHJldHVybiB7XG4gICAgICBuYW1lLFxuICAgICAgdHlwZTogdHlwZVRleHQob3duLCAoaW5uZXIpID0+IHdob2xlKGlubmVyLCBhdCkpLFxuICAgICAgcmVxdWlyZWQsXG4gICAgICAuLi5mYWN0KCdkZXNjcmlwdGlvbicsIHRleHQob3duLmRlc2NyaXB0aW9uKSksXG4gICAgICAuLi5mYWN0KCdkZWZhdWx0Jywgb3duLmRlZmF1bHQgYXMgVmFsdWUgfCB1bmRlZmluZWQpLFxuICAgICAgLi4uZmFjdCgnZXhhbXBsZScsIGV4YW1wbGVPZihvd24pKSxcbiAgICAgIC4uLmZhY3QoJ2FsbG93ZWQnLCBhbGxvd2VkT2Yob3duKSksXG4gICAgICAuLi5mYWN0KCdsaW1pdHMnLCBsaW1pdHNPZihvd24pKSxcbiAgICAgIC4uLihvd24ucmVhZE9ubHkgPT09IHRydWUgJiYgeyByZWFkT25seTogdHJ1ZSB9KSxcbiAgICAgIC4uLihvd24ud3JpdGVPbmx5ID09PSB0cnVlICYmIHsgd3JpdGVPbmx5OiB0cnVlIH0pLFxuICAgICAgLi4uKG93bi5kZXByZWNhdGVkID09PSB0cnVlICYmIHsgZGVwcmVjYXRlZDogdHJ1ZSB9KSxcbiAgICAgIC4uLihmaWVsZHMubGVuZ3RoID4gMCAmJiB7IGZpZWxkcyB9KSxcbiAgICAgIC4uLmZhY3QoXG4gICAgICAgICd4bWwnLFxuICAgICAgICB4bWxPZihvd24sIChpbm5lcikgPT4gd2hvbGUoaW5uZXIsIGF0KSksXG4gICAgICApLFxuICAgICAgLi4uZmFjdCgncmVjdXJzaXZlJywgcmVjdXJzaXZlKSxcbiAgICAgIC4uLihtb3JlICYmIHsgbW9yZTogcmVmZXJlbmNlPy5yZXBsYWNlKC9eLipcXC8vLCAnJykgPz8gJycgfSksXG4gICAgICAuLi5mYWN0KCdhbHRlcm5hdGl2ZXMnLCBhbHRlcm5hdGl2ZXMpLFxuICAgIH07XG4gIH1cblxuICAvKiogT2YgYSBsaXN0LCBpdHMgaXRlbXMuICovXG4gIGNvbnN0IGNvbnRlbnRPZiA9IChvd246IEpzb25NYXAsIGF0OiBzdHJpbmcpOiBKc29uTWFwID0+XG4gICAgb3duLml0ZW1zID09PSB1bmRlZmluZWQgPyBvd24gOiB3aG9sZShvd24uaXRlbXMsIGAke2F0fS9pdGVtc2ApO1xuXG4gIGZ1bmN0aW9uIGFsdGVybmF0aXZlc09mKFxuICAgIG93bjogSnNvbk1hcCxcbiAgICBhdDogc3RyaW5nLFxuICAgIGFib3ZlOiByZWFkb25seSBzdHJpbmdbXSxcbiAgICBkZXB0aDogbnVtYmVyLFxuICApOiByZWFkb25seSBBbHRlcm5hdGl2ZVtdIHwgdW5kZWZpbmVkIHtcbiAgICBjb25zdCBrZXkgPSBBcnJheS5pc0FycmF5KG93bi5vbmVPZikgPyAnb25lT2YnIDogJ2FueU9mJztcbiAgICBjb25zdCBnaXZlbiA9IG93bltrZXldO1xuICAgIGlmICghQXJyYXkuaXNBcnJheShnaXZlbikgfHwgZGVwdGggPiBsYXN0KSByZXR1cm4gdW5kZWZpbmVkO1xuICAgIGNvbnN0IHNoYXBlcyA9IGdpdmVuLmZpbHRlcigob25lOiBKc29uKSA9PiB3aG9sZShvbmUsIGF0KS50eXBlICE9PSAnbnVsbCcpO1xuICAgIGlmIChzaGFwZXMubGVuZ3RoIDwgMiB8fCAhc2hhcGVzLnNvbWUoKG9uZTogSnNvbikgPT4gaXNNYXAod2hvbGUob25lLCBhdCkucHJvcGVydGllcykpKSByZXR1cm4gdW5kZWZpbmVkO1xuICAgIGNvbnN0IHByb3BlcnR5ID0gaXNNYXAob3duLmRpc2NyaW1pbmF0b3IpID8gb3duLmRpc2NyaW1pbmF0b3IucHJvcGVydHlOYW1lIDogdW5kZWZpbmVkO1xuICAgIGNvbnN0IG1hcHBpbmcgPSBpc01hcChvd24uZGlzY3JpbWluYXRvcikgJiYgaXNNYXAob3duLmRpc2NyaW1pbmF0b3IubWFwcGluZykgPyBvd24uZGlzY3JpbWluYXRvci5tYXBwaW5nIDoge307XG4gICAgcmV0dXJuIHNoYXBlcy5tYXAoKG9uZTogSnNvbiwgaW5kZXgpID0+IHtcbiAgICAgIGNvbnN0IHJlZmVyZW5jZSA9IHJlZmVyZW5jZUluKG9uZSk7XG4gICAgICBjb25zdCBzaGFwZSA9IHdob2xlKG9uZSwgYXQpO1xuICAgICAgY29uc3QgbmFtZSA9XG4gICAgICAgIHJlZmVyZW5jZT8ucmVwbGFjZSgvXi4qXFwvLywgJycpID8/ICh0eXBlb2Ygc2hhcGUudGl0bGUgPT09ICdzdHJpbmcnID8gc2hhcGUudGl0bGUgOiBgc2hhcGUgJHtpbmRleCArIDF9YCk7XG4gICAgICBjb25zdCB2YWx1ZSA9XG4gICAgICAgIE9iamVjdC5lbnRyaWVzKG1hcHBpbmcpLmZpbmQoKFssIHRhcmdldF0pID0+IHRhcmdldCA9PT0gcmVmZXJlbmNlIHx8IHRhcmdldCA9PT0gbmFtZSk/LlswXSA/P1xuICAgICAgICAocmVmZXJlbmNlID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiBuYW1lKTtcbiAgICAgIGNvbnN0IGFnYWluID0gcmVmZXJlbmNlICE9PSB1bmRlZmluZWQgJiYgYWJvdmUuaW5jbHVkZXMocmVmZXJlbmNlKTtcbiAgICAgIHJldHVybiB7XG4gICAgICAgIG5hbWUsXG4gICAgICAgIC4uLih0eXBlb2YgcHJvcGVydHkgPT09ICdzdHJpbmcnICYmIHZhbHVlICE9PSB1bmRlZmluZWQgJiYgeyB3aGVuOiBgJHtwcm9wZXJ0eX06ICR7dmFsdWV9YCB9KSxcbiAgICAgICAgZmllbGRzOiBhZ2FpblxuICAgICAgICAgID8gW11cbiAgICAgICAgICA6IG1lbWJlcnMob25lLCBgJHthdH0vJHtrZXl9LyR7aW5kZXh9YCwgcmVmZXJlbmNlID09PSB1bmRlZmluZWQgPyBhYm92ZSA6IFsuLi5hYm92ZSwgcmVmZXJlbmNlXSwgZGVwdGggKyAxKSxcbiAgICAgIH07XG4gICAgfSk7XG4gIH1cblxuICByZXR1cm4ge1xuICAgIGFsdGVybmF0aXZlcyhzY2hlbWEsIGF0KSB7XG4gICAgICBjb25zdCBvd24gPSB3aG9sZShzY2hlbWEsIGF0KTtcbiAgICAgIHJldHVybiBhbHRlcm5hdGl2ZXNPZihvd24uaXRlbXMgPT09IHVuZGVmaW5lZCA/IG93biA6IHdob2xlKG93bi5pdGVtcywgYXQpLCBhdCwgW10sIDApO1xuICAgIH0sXG4gICAgZmllbGRzKHNjaGVtYSwgYXQpIHtcbiAgICAgIGJ1ZGdldCA9IG1vc3RGaWVsZHM7XG4gICAgICBjb25zdCByZWZlcmVuY2UgPSByZWZlcmVuY2VJbihzY2hlbWEpO1xuICAgICAgcmV0dXJuIG1lbWJlcnMoc2NoZW1hLCBhdCwgcmVmZXJlbmNlID09PSB1bmRlZmluZWQgPyBbXSA6IFtyZWZlcmVuY2VdLCAwKTtcbiAgICB9LFxuICAgIGZpZWxkOiAobmFtZSwgc2NoZW1hLCByZXF1aXJlZCwgYXQpID0+IG9uZShuYW1lLCBzY2hlbWEsIHJlcXVpcmVkLCBhdCwgW10sIDApLFxuICB9O1xufVxuXG4vKiogQSBuYW1lZCBzY2hlbWEgYXMgYSB0eXBlLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGRlc2NyaWJlU2NoZW1hKG5hbWU6IHN0cmluZywga2V5OiBzdHJpbmcsIGRlZmluaXRpb25zOiBEZWZpbml0aW9ucyk6IFR5cGVEZXNjcmlwdGlvbiB7XG4gIGNvbnN0IGxpbmtzID0gbWFrZVJlZmVyZW5jZXMoZGVmaW5pdGlvbnMpO1xuICBjb25zdCByZWFkZXIgPSBmaWVsZFJlYWRlcihsaW5rcyk7XG4gIGNvbnN0IHJlZmVyZW5jZTogSnNvbiA9IHsgJHJlZjoga2V5IH07XG4gIGNvbnN0IGZpZWxkID0gcmVhZGVyLmZpZWxkKG5hbWUsIHJlZmVyZW5jZSwgZmFsc2UsIGtleSk7XG4gIGNvbnN0IGFsdGVybmF0aXZlcyA9IHJlYWRlci5hbHRlcm5hdGl2ZXMocmVmZXJlbmNlLCBrZXkpO1xuICByZXR1cm4ge1xuICAgIG5hbWUsXG4gICAga2luZDogZmllbGQuYWxsb3dlZCA/ICdlbnVtZXJhdGlvbicgOiBmaWVsZC50eXBlLFxuICAgIC4uLmZhY3QoJ2Rlc2NyaXB0aW9uJywgZmllbGQuZGVzY3JpcHRpb24pLFxuICAgIGZpZWxkczogcmVhZGVyLmZpZWxkcyhyZWZlcmVuY2UsIGtleSksXG4gICAgLi4uZmFjdCgnYWxsb3dlZCcsIGZpZWxkLmFsbG93ZWQpLFxuICAgIC4uLmZhY3QoJ2FsdGVybmF0aXZlcycsIGFsdGVybmF0aXZlcyksXG4gIH07XG59XG5cbmZ1bmN0aW9uIHNpYmxpbmdzKHsgJHJlZjogXywgLi4uYmVzaWRlIH06IEpzb25NYXApOiBKc29uTWFwIHtcbiAgcmV0dXJuIGJlc2lkZTtcbn1cblxuZnVuY3Rpb24gcmVmZXJlbmNlSW4oc2NoZW1hOiBKc29uIHwgdW5kZWZpbmVkKTogc3RyaW5nIHwgdW5kZWZpbmVkIHtcbiAgaWYgKCFpc01hcChzY2hlbWEpKSByZXR1cm4gdW5kZWZpbmVkO1xuICBpZiAodHlwZW9mIHNjaGVtYS4kcmVmID09PSAnc3RyaW5nJykgcmV0dXJuIHNjaGVtYS4kcmVmO1xuICByZXR1cm4gaXNNYXAoc2NoZW1hLml0ZW1zKSAmJiB0eXBlb2Ygc2NoZW1hLml0ZW1zLiRyZWYgPT09ICdzdHJpbmcnID8gc2NoZW1hLml0ZW1zLiRyZWYgOiB1bmRlZmluZWQ7XG59XG5cbmNvbnN0IHRleHQgPSAodmFsdWU6IEpzb24gfCB1bmRlZmluZWQpOiBzdHJpbmcgfCB1bmRlZmluZWQgPT5cbiAgdHlwZW9mIHZhbHVlID09PSAnc3RyaW5nJyAmJiB2YWx1ZSAhPT0gJycgPyB2YWx1ZSA6IHVuZGVmaW5lZDtcblxuZnVuY3Rpb24gZmFjdDxLIGV4dGVuZHMgc3RyaW5nLCBWPihrZXk6IEssIHZhbHVlOiBWIHwgdW5kZWZpbmVkKTogeyBbUCBpbiBLXT86IFYgfSB7XG4gIHJldHVybiB2YWx1ZSA9PT0gdW5kZWZpbmVkID8ge30gOiAoeyBba2V5XTogdmFsdWUgfSBhcyB7IFtQIGluIEtdPzogViB9KTtcbn1cblxuLyoqIFRoZSBYTUwgT2JqZWN0IG9mIGEgc2NoZW1hLCBhbmQgZm9yIGEgbGlzdCB0aGUgbmFtZSBvZiBpdHMgaXRlbXMuICovXG5leHBvcnQgZnVuY3Rpb24geG1sT2Yoc2NoZW1hOiBKc29uTWFwLCB3aG9sZTogKGlubmVyOiBKc29uIHwgdW5kZWZpbmVkKSA9PiBKc29uTWFwKTogWG1sV3JpdGluZyB8IHVuZGVmaW5lZCB7XG4gIGNvbnN0IHsgeG1sLCBpdGVtcyB9ID0gc2NoZW1hO1xuICBjb25zdCBpbm5lciA9IGl0ZW1zID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiB3aG9sZShpdGVtcykueG1sO1xuICBjb25zdCBpdGVtID0gaXNNYXAoaW5uZXIpICYmIHR5cGVvZiBpbm5lci5uYW1lID09PSAnc3RyaW5nJyA/IGlubmVyLm5hbWUgOiB1bmRlZmluZWQ7XG4gIGlmICghaXNNYXAoeG1sKSAmJiBpdGVtID09PSB1bmRlZmluZWQpIHJldHVybiB1bmRlZmluZWQ7XG4gIGNvbnN0IG93biA9IGlzTWFwKHhtbCkgPyB4bWwgOiB7fTtcbiAgcmV0dXJuIHtcbiAgICAuLi5mYWN0KCduYW1lJywgdGV4dChvd24ubmFtZSkpLFxuICAgIC4uLmZhY3QoJ25hbWVzcGFjZScsIHRleHQob3duLm5hbWVzcGFjZSkpLFxuICAgIC4uLmZhY3QoJ3ByZWZpeCcsIHRleHQob3duLnByZWZpeCkpLFxuICAgIC4uLihvd24uYXR0cmlidXRlID09PSB0cnVlICYmIHsgYXR0cmlidXRlOiB0cnVlIH0pLFxuICAgIC4uLihvd24ud3JhcHBlZCA9PT0gdHJ1ZSAmJiB7IHdyYXBwZWQ6IHRydWUgfSksXG4gICAgLi4uZmFjdCgnaXRlbScsIGl0ZW0pLFxuICB9O1xufVxuXG4vKiogVGhlIGRvY3VtZW50ZWQgZXhhbXBsZSBvZiBhIHNjaGVtYTogYGV4YW1wbGVgICgzLjApIG9yIHRoZSBmaXJzdCBvZiBgZXhhbXBsZXNgICgzLjEpLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGV4YW1wbGVPZihzY2hlbWE6IEpzb25NYXApOiBWYWx1ZSB8IHVuZGVmaW5lZCB7XG4gIGlmIChzY2hlbWEuZXhhbXBsZSAhPT0gdW5kZWZpbmVkKSByZXR1cm4gc2NoZW1hLmV4YW1wbGUgYXMgVmFsdWU7XG4gIHJldHVybiBBcnJheS5pc0FycmF5KHNjaGVtYS5leGFtcGxlcykgPyAoc2NoZW1hLmV4YW1wbGVzWzBdIGFzIFZhbHVlIHwgdW5kZWZpbmVkKSA6IHVuZGVmaW5lZDtcbn1cblxuZnVuY3Rpb24gYWxsb3dlZE9mKHNjaGVtYTogSnNvbk1hcCk6IHJlYWRvbmx5IFZhbHVlW10gfCB1bmRlZmluZWQge1xuICBpZiAoc2NoZW1hLmNvbnN0ICE9PSB1bmRlZmluZWQpIHJldHVybiBbc2NoZW1hLmNvbnN0IGFzIFZhbHVlXTtcbiAgY29uc3Qgb3duID0gQXJyYXkuaXNBcnJheShzY2hlbWEuZW51bSlcbiAgICA/IHNjaGVtYS5lbnVtXG4gICAgOiBpc01hcChzY2hlbWEuaXRlbXMpICYmIEFycmF5LmlzQXJyYXkoc2NoZW1hLml0ZW1zLmVudW0pXG4gICAgICA/IHNjaGVtYS5pdGVtcy5lbnVtXG4gICAgICA6IHVuZGVmaW5lZDtcbiAgcmV0dXJuIG93biBhcyByZWFkb25seSBWYWx1ZVtdIHwgdW5kZWZpbmVkO1xufVxuXG5mdW5jdGlvbiB0eXBlVGV4dChzY2hlbWE6IEpzb25NYXAsIHdob2xlOiAoaW5uZXI6IEpzb24gfCB1bmRlZmluZWQpID0+IEpzb25NYXApOiBzdHJpbmcge1xuICBjb25zdCB7IHR5cGUsIGZvcm1hdCwgaXRlbXMsIG9uZU9mLCBhbnlPZiwgcHJvcGVydGllcywgbnVsbGFibGUgfSA9IHNjaGVtYTtcbiAgY29uc3QgdHlwZXMgPSBBcnJheS5pc0FycmF5KHR5cGUpID8gdHlwZS5tYXAoU3RyaW5nKSA6IHR5cGVvZiB0eXBlID09PSAnc3RyaW5nJyA/IFt0eXBlXSA6IFtdO1xuICBjb25zdCBhbHRlcm5hdGl2ZXMgPSBBcnJheS5pc0FycmF5KG9uZU9mKSA/IG9uZU9mIDogQXJyYXkuaXNBcnJheShhbnlPZikgPyBhbnlPZiA6IHVuZGVmaW5lZDtcbiAgaWYgKHR5cGVzLmxlbmd0aCA9PT0gMCAmJiBhbHRlcm5hdGl2ZXMpIHtcbiAgICByZXR1cm4gWy4uLm5ldyBTZXQoYWx0ZXJuYXRpdmVzLm1hcCgob25lOiBKc29uKSA9PiB0eXBlVGV4dCh3aG9sZShvbmUpLCB3aG9sZSkpKV0uam9pbignIG9yICcpO1xuICB9XG4gIGlmICh0eXBlcy5sZW5ndGggPT09IDApIHR5cGVzLnB1c2gocHJvcGVydGllcyA9PT0gdW5kZWZpbmVkID8gKGl0ZW1zID09PSB1bmRlZmluZWQgPyAnYW55JyA6ICdhcnJheScpIDogJ29iamVjdCcpO1xuICBpZiAobnVsbGFibGUgPT09IHRydWUgJiYgIXR5cGVzLmluY2x1ZGVzKCdudWxsJykpIHR5cGVzLnB1c2goJ251bGwnKTtcbiAgcmV0dXJuIHR5cGVzXG4gICAgLm1hcCgob25lKSA9PiB7XG4gICAgICBpZiAob25lID09PSAnYXJyYXknKSByZXR1cm4gaXRlbXMgPT09IHVuZGVmaW5lZCA/ICdhcnJheScgOiBgYXJyYXkgb2YgJHt0eXBlVGV4dCh3aG9sZShpdGVtcyksIHdob2xlKX1gO1xuICAgICAgcmV0dXJuIG9uZSAhPT0gJ251bGwnICYmIHR5cGVvZiBmb3JtYXQgPT09ICdzdHJpbmcnID8gYCR7b25lfSAoJHtmb3JtYXR9KWAgOiBvbmU7XG4gICAgfSlcbiAgICAuam9pbignIG9yICcpO1xufVxuXG4vKiogS2V5d29yZHMgb2YgSlNPTiBTY2hlbWEgYW5kIG91ciBuYW1lcyBmb3IgdGhlbS4gKi9cbmNvbnN0IGxpbWl0S2V5cyA9IHtcbiAgbWluaW11bTogJ2F0LWxlYXN0JyxcbiAgbWF4aW11bTogJ2F0LW1vc3QnLFxuICBleGNsdXNpdmVNaW5pbXVtOiAnb3ZlcicsXG4gIGV4Y2x1c2l2ZU1heGltdW06ICd1bmRlcicsXG4gIG11bHRpcGxlT2Y6ICdtdWx0aXBsZS1vZicsXG4gIG1pbkxlbmd0aDogJ2xlYXN0LWxlbmd0aCcsXG4gIG1heExlbmd0aDogJ21vc3QtbGVuZ3RoJyxcbiAgbWluSXRlbXM6ICdsZWFzdC1pdGVtcycsXG4gIG1heEl0ZW1zOiAnbW9zdC1pdGVtcycsXG59IGFzIGNvbnN0O1xuXG5mdW5jdGlvbiBsaW1pdHNPZihnaXZlbjogSnNvbk1hcCk6IExpbWl0cyB8IHVuZGVmaW5lZCB7XG4gIC8vIE9ubHkgdGhlIGtleXdvcmRzIG9mIHRoaXMgbGV2ZWwgbWF0dGVyLCBpbiB0aGVpciAyMDIwLTEyIGZvcm0uXG4gIGNvbnN0IHsgcHJvcGVydGllczogXywgaXRlbXM6IF9fLCBhbGxPZjogX19fLCAuLi5vd24gfSA9IGdpdmVuO1xuICBjb25zdCBzY2hlbWEgPSBhc0pzb25TY2hlbWEob3duKSBhcyBKc29uTWFwO1xuICBjb25zdCBsaW1pdHM6IFJlY29yZDxzdHJpbmcsIG51bWJlciB8IHN0cmluZyB8IGJvb2xlYW4+ID0ge307XG4gIGZvciAoY29uc3QgW2tleSwgbmFtZV0gb2YgT2JqZWN0LmVudHJpZXMobGltaXRLZXlzKSkge1xuICAgIGNvbnN0IHZhbHVlID0gc2NoZW1hW2tleV07XG4gICAgaWYgKHR5cGVvZiB2YWx1ZSA9PT0gJ251bWJlcicpIGxpbWl0c1tuYW1lXSA9IHZhbHVlO1xuICB9XG4gIGlmICh0eXBlb2Ygc2NoZW1hLnBhdHRlcm4gPT09ICdzdHJpbmcnKSBsaW1pdHMubWF0Y2hlcyA9IHNjaGVtYS5wYXR0ZXJuO1xuICBpZiAoc2NoZW1hLnVuaXF1ZUl0ZW1zID09PSB0cnVlKSBsaW1pdHNbJ25vLWl0ZW0tdHdpY2UnXSA9IHRydWU7XG4gIHJldHVybiBPYmplY3Qua2V5cyhsaW1pdHMpLmxlbmd0aCA+IDAgPyBsaW1pdHMgOiB1bmRlZmluZWQ7XG59XG4iLCAiLyoqIFdoYXQgYXV0aGVudGljYXRpb24gYW4gb3BlcmF0aW9uIHdhbnRzLCBpbiB3b3Jkcy4gKi9cbmltcG9ydCB0eXBlIHsgU2VjdXJpdHlOZWVkIH0gZnJvbSAnLi4vbW9kZWwuanMnO1xuaW1wb3J0IHsgaXNNYXAsIHR5cGUgSnNvbiwgdHlwZSBKc29uTWFwLCB0eXBlIFJlZmVyZW5jZXMgfSBmcm9tICcuL3JlZmVyZW5jZXMuanMnO1xuXG5leHBvcnQgZnVuY3Rpb24gc2VjdXJpdHlOZWVkcyh3YW50ZWQ6IEpzb24gfCB1bmRlZmluZWQsIHJlZmVyZW5jZXM6IFJlZmVyZW5jZXMsIGF0OiBzdHJpbmcpOiByZWFkb25seSBTZWN1cml0eU5lZWRbXSB7XG4gIGlmICghQXJyYXkuaXNBcnJheSh3YW50ZWQpKSByZXR1cm4gW107XG4gIC8vIEFuIGVtcHR5IHJlcXVpcmVtZW50IG1lYW5zIHRoYXQgdGhlIGNhbGwgaXMgYWxsb3dlZCB3aXRob3V0IGFueS5cbiAgaWYgKHdhbnRlZC5zb21lKChuZWVkOiBKc29uKSA9PiBpc01hcChuZWVkKSAmJiBPYmplY3Qua2V5cyhuZWVkKS5sZW5ndGggPT09IDApKSByZXR1cm4gW107XG4gIHJldHVybiB3YW50ZWQuZmlsdGVyKGlzTWFwKS5tYXAoKG5lZWQpID0+ICh7XG4gICAgc2NoZW1lczogT2JqZWN0LmtleXMobmVlZCkubWFwKChuYW1lKSA9PiB7XG4gICAgICBjb25zdCBzY2hlbWUgPSByZWZlcmVuY2VzLmZvbGxvdyh7ICRyZWY6IGAjL2NvbXBvbmVudHMvc2VjdXJpdHlTY2hlbWVzLyR7bmFtZX1gIH0sIGF0KTtcbiAgICAgIGlmICghaXNNYXAoc2NoZW1lKSkgcmV0dXJuIHsgbmFtZSwgYWJvdXQ6ICdub3QgZGVzY3JpYmVkJyB9O1xuICAgICAgcmV0dXJuIHtcbiAgICAgICAgbmFtZSxcbiAgICAgICAgYWJvdXQ6IHNjaGVtZVRleHQoc2NoZW1lKSxcbiAgICAgICAgLi4uKHR5cGVvZiBzY2hlbWUuZGVzY3JpcHRpb24gPT09ICdzdHJpbmcnICYmIHsgZGVzY3JpcHRpb246IHNjaGVtZS5kZXNjcmlwdGlvbi50cmltKCkgfSksXG4gICAgICAgIC4uLihzY2hlbWUuaW4gPT09ICdoZWFkZXInICYmIHR5cGVvZiBzY2hlbWUubmFtZSA9PT0gJ3N0cmluZycgJiYgeyBoZWFkZXI6IHNjaGVtZS5uYW1lIH0pLFxuICAgICAgfTtcbiAgICB9KSxcbiAgfSkpO1xufVxuXG5mdW5jdGlvbiBzY2hlbWVUZXh0KHNjaGVtZTogSnNvbk1hcCk6IHN0cmluZyB7XG4gIHN3aXRjaCAoc2NoZW1lLnR5cGUpIHtcbiAgICBjYXNlICdodHRwJzpcbiAgICAgIHJldHVybiBgSFRUUCAke1N0cmluZyhzY2hlbWUuc2NoZW1lKX0gYXV0aGVudGljYXRpb24ke3NjaGVtZS5iZWFyZXJGb3JtYXQgPyBgICgke1N0cmluZyhzY2hlbWUuYmVhcmVyRm9ybWF0KX0pYCA6ICcnfWA7XG4gICAgY2FzZSAnYXBpS2V5JzpcbiAgICAgIHJldHVybiBgYSBrZXkgaW4gdGhlICR7U3RyaW5nKHNjaGVtZS5pbil9ICR7U3RyaW5nKHNjaGVtZS5uYW1lKX1gO1xuICAgIGNhc2UgJ29hdXRoMic6XG4gICAgICByZXR1cm4gYE9BdXRoIDIuMCAoJHtPYmplY3Qua2V5cyhpc01hcChzY2hlbWUuZmxvd3MpID8gc2NoZW1lLmZsb3dzIDoge30pLmpvaW4oJywgJyl9KWA7XG4gICAgY2FzZSAnb3BlbklkQ29ubmVjdCc6XG4gICAgICByZXR1cm4gJ09wZW5JRCBDb25uZWN0JztcbiAgICBjYXNlICdtdXR1YWxUTFMnOlxuICAgICAgcmV0dXJuICdhIGNsaWVudCBjZXJ0aWZpY2F0ZSc7XG4gICAgZGVmYXVsdDpcbiAgICAgIHJldHVybiBTdHJpbmcoc2NoZW1lLnR5cGUpO1xuICB9XG59XG4iLCAiLyoqIE9uZSBvcGVyYXRpb24gaW4gZnVsbCwgZnJvbSB3aGF0IHRoZSBpbmRleCBrZWVwcyBvZiBpdC4gKi9cblxuaW1wb3J0IHsgdGV4dE9mIH0gZnJvbSAnLi4vLi4vdmFsdWUvdGV4dC5qcyc7XG5pbXBvcnQgdHlwZSB7IFZhbHVlIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyBlc2NhcGVkIH0gZnJvbSAnLi4vZXNjYXBlLXhtbC5qcyc7XG5pbXBvcnQgeyBleGFtcGxlRnJvbSwgZXhhbXBsZVZhbHVlIH0gZnJvbSAnLi4vZXhhbXBsZS5qcyc7XG5pbXBvcnQgeyBvcGVyYXRvcnNTYWlkIH0gZnJvbSAnLi4vZmlsdGVyLWNsYXVzZS5qcyc7XG5pbXBvcnQgdHlwZSB7XG4gIEFuc3dlcixcbiAgQm9keSxcbiAgQ29udGVudCxcbiAgRGVmaW5pdGlvbnMsXG4gIERvY3VtZW50ZWRMaW5rLFxuICBGaWVsZCxcbiAgT3BlcmF0aW9uLFxuICBPcGVyYXRpb25FbnRyeSxcbiAgUGFyYW1ldGVyLFxuICBQYXJhbWV0ZXJMb2NhdGlvbixcbiAgWG1sV3JpdGluZyxcbn0gZnJvbSAnLi4vbW9kZWwuanMnO1xuaW1wb3J0IHsgc2FmZU1ldGhvZHMgfSBmcm9tICcuLi9zYWZlLW1ldGhvZHMuanMnO1xuaW1wb3J0IHsgeG1sVGV4dCB9IGZyb20gJy4uL3htbC10ZXh0LmpzJztcbmltcG9ydCB7IGJlbG93LCBpc01hcCwgdHlwZSBKc29uLCB0eXBlIEpzb25NYXAsIHR5cGUgUmVmZXJlbmNlcywgcmVmZXJlbmNlcyB9IGZyb20gJy4vcmVmZXJlbmNlcy5qcyc7XG5pbXBvcnQgeyBleGFtcGxlT2YsIHR5cGUgRmllbGRSZWFkZXIsIGZpZWxkUmVhZGVyLCB4bWxPZiB9IGZyb20gJy4vc2NoZW1hLmpzJztcbmltcG9ydCB7IHNlY3VyaXR5TmVlZHMgfSBmcm9tICcuL3NlY3VyaXR5LmpzJztcblxuY29uc3QgbG9jYXRpb25zID0gbmV3IFNldChbJ3BhdGgnLCAncXVlcnknLCAnaGVhZGVyJywgJ2Nvb2tpZSddKTtcbi8qKiBIZWFkZXJzIHRoYXQgdGhlIHRvb2wgaXRzZWxmIGFuc3dlcnMgZm9yOyBhcyBwYXJhbWV0ZXJzIHRoZXkgbWVhbiBub3RoaW5nIChPcGVuQVBJIDMuMSwgUGFyYW1ldGVyIE9iamVjdCkuICovXG5jb25zdCBvd25IZWFkZXJzID0gbmV3IFNldChbJ2FjY2VwdCcsICdjb250ZW50LXR5cGUnLCAnYXV0aG9yaXphdGlvbiddKTtcblxuY29uc3QgdXN1YWxTdHlsZXMgPSBuZXcgU2V0KFsnZm9ybScsICdzaW1wbGUnXSk7XG5cbi8qKiBXaGF0IHRoZSBpbmRleCBrZWVwcyBvZiBhbiBvcGVyYXRpb24uICovXG5leHBvcnQgdHlwZSBPd25PcGVyYXRpb24gPSB7XG4gIC8qKiBKU09OIHBvaW50ZXIgdG8gaXQuICovXG4gIHJlYWRvbmx5IGF0OiBzdHJpbmc7XG4gIC8qKiBJbiB0aGUgZm9ybSBvZiB2ZXJzaW9uIDMuICovXG4gIHJlYWRvbmx5IG9wZXJhdGlvbjogSnNvbk1hcDtcbiAgLyoqIFBhcmFtZXRlcnMgb2YgaXRzIHBhdGguICovXG4gIHJlYWRvbmx5IHNoYXJlZD86IEpzb247XG4gIC8qKiBXaGVyZSB0aGUgZG9jdW1lbnQgb3IgdGhlIG9wZXJhdGlvbiB3YW50cyBhbnkuICovXG4gIHJlYWRvbmx5IHNlY3VyaXR5PzogSnNvbjtcbn07XG5cbmV4cG9ydCBmdW5jdGlvbiBkZXNjcmliZU9wZXJhdGlvbihcbiAgZW50cnk6IE9wZXJhdGlvbkVudHJ5LFxuICBzb3VyY2U6IHN0cmluZyxcbiAgZGVmaW5pdGlvbnM6IERlZmluaXRpb25zLFxuICBkZXB0aD86IG51bWJlcixcbik6IE9wZXJhdGlvbiB7XG4gIGNvbnN0IGxpbmtzID0gcmVmZXJlbmNlcyhkZWZpbml0aW9ucyk7XG4gIHJldHVybiBuZXcgRGVzY3JpcHRpb24oZW50cnksIHNvdXJjZSwgbGlua3MsIGZpZWxkUmVhZGVyKGxpbmtzLCBkZXB0aCkpLm9wZXJhdGlvbigpO1xufVxuXG4vKiogV2hldGhlciBpdCBpcyBvbmU6IHdpdGggYSBuYW1lLCBhbmQgaW4gYSBrbm93biBwbGFjZS4gKi9cbmV4cG9ydCBjb25zdCBpc1BhcmFtZXRlciA9IChnaXZlbjogSnNvbik6IGdpdmVuIGlzIEpzb25NYXAgJiB7IHJlYWRvbmx5IG5hbWU6IHN0cmluZyB9ID0+XG4gIGlzTWFwKGdpdmVuKSAmJiB0eXBlb2YgZ2l2ZW4ubmFtZSA9PT0gJ3N0cmluZycgJiYgbG9jYXRpb25zLmhhcyhTdHJpbmcoZ2l2ZW4uaW4pKTtcblxuY2xhc3MgRGVzY3JpcHRpb24ge1xuICBwcml2YXRlIHJlYWRvbmx5IG93bjogT3duT3BlcmF0aW9uO1xuXG4gIGNvbnN0cnVjdG9yKFxuICAgIHByaXZhdGUgcmVhZG9ubHkgZW50cnk6IE9wZXJhdGlvbkVudHJ5LFxuICAgIHByaXZhdGUgcmVhZG9ubHkgc291cmNlOiBzdHJpbmcsXG4gICAgcHJpdmF0ZSByZWFkb25seSByZWZlcmVuY2VzOiBSZWZlcmVuY2VzLFxuICAgIHByaXZhdGUgcmVhZG9ubHkgcmVhZGVyOiBGaWVsZFJlYWRlcixcbiAgKSB7XG4gICAgdGhpcy5vd24gPSBlbnRyeS5vd24gYXMgdW5rbm93biBhcyBPd25PcGVyYXRpb247XG4gIH1cblxuICBvcGVyYXRpb24oKTogT3BlcmF0aW9uIHtcbiAgICBjb25zdCB7IGVudHJ5LCBzb3VyY2UgfSA9IHRoaXM7XG4gICAgY29uc3QgeyBvcGVyYXRpb246IG93biwgYXQsIHNoYXJlZCwgc2VjdXJpdHkgfSA9IHRoaXMub3duO1xuICAgIGNvbnN0IGJvZHkgPSB0aGlzLmJvZHkob3duLnJlcXVlc3RCb2R5LCBiZWxvdyhhdCwgJ3JlcXVlc3RCb2R5JykpO1xuICAgIGNvbnN0IGV4dGVuc2lvbnMgPSBPYmplY3QuZW50cmllcyhvd24pLmZpbHRlcigoW2tleV0pID0+IGtleS5zdGFydHNXaXRoKCd4LScpKTtcbiAgICBjb25zdCBjYWxsYmFja3MgPSBpc01hcChvd24uY2FsbGJhY2tzKSA/IGNhbGxiYWNrTmFtZXMob3duLmNhbGxiYWNrcykgOiBbXTtcbiAgICByZXR1cm4ge1xuICAgICAgaWQ6IGVudHJ5LmlkLFxuICAgICAgc291cmNlLFxuICAgICAgcHJvdG9jb2w6ICdodHRwJyxcbiAgICAgIGdyb3VwOiBlbnRyeS5ncm91cCxcbiAgICAgIC4uLihlbnRyeS5zdW1tYXJ5ICE9PSB1bmRlZmluZWQgJiYgeyBzdW1tYXJ5OiBlbnRyeS5zdW1tYXJ5IH0pLFxuICAgICAgLi4uKHR5cGVvZiBvd24uZGVzY3JpcHRpb24gPT09ICdzdHJpbmcnICYmIHsgZGVzY3JpcHRpb246IG93bi5kZXNjcmlwdGlvbi50cmltKCkgfSksXG4gICAgICBtZXRob2Q6IGVudHJ5Lm1ldGhvZCxcbiAgICAgIHBhdGg6IGVudHJ5LnBhdGgsXG4gICAgICBkZXByZWNhdGVkOiBvd24uZGVwcmVjYXRlZCA9PT0gdHJ1ZSxcbiAgICAgIGNoYW5nZXM6ICFzYWZlTWV0aG9kcy5oYXMoZW50cnkubWV0aG9kKSxcbiAgICAgIC4uLihjYWxsYmFja3MubGVuZ3RoID4gMCAmJiB7IGNhbGxiYWNrcyB9KSxcbiAgICAgIC4uLihleHRlbnNpb25zLmxlbmd0aCA+IDAgJiYgeyBleHRlbnNpb25zOiBPYmplY3QuZnJvbUVudHJpZXMoZXh0ZW5zaW9ucykgYXMgUmVjb3JkPHN0cmluZywgVmFsdWU+IH0pLFxuICAgICAgLi4uKGVudHJ5LmxpbmtzICYmIHsgbGlua3M6IGVudHJ5LmxpbmtzIH0pLFxuICAgICAgcGFyYW1ldGVyczogdGhpcy5wYXJhbWV0ZXJzKHNoYXJlZCwgb3duLnBhcmFtZXRlcnMsIGVudHJ5LnBhdGgsIGF0KSxcbiAgICAgIC4uLihib2R5ICYmIHsgYm9keSB9KSxcbiAgICAgIGFuc3dlcnM6IHRoaXMuYW5zd2Vycyhvd24ucmVzcG9uc2VzLCBiZWxvdyhhdCwgJ3Jlc3BvbnNlcycpKSxcbiAgICAgIHNlY3VyaXR5OiBzZWN1cml0eU5lZWRzKHNlY3VyaXR5LCB0aGlzLnJlZmVyZW5jZXMsIGF0KSxcbiAgICB9O1xuICB9XG5cbiAgcHJpdmF0ZSBwYXJhbWV0ZXJzKHNoYXJlZDogSnNvbiB8IHVuZGVmaW5lZCwgb3duOiBKc29uIHwgdW5kZWZpbmVkLCBwYXRoOiBzdHJpbmcsIGF0OiBzdHJpbmcpOiBQYXJhbWV0ZXJbXSB7XG4gICAgY29uc3QgZm91bmQgPSBuZXcgTWFwPHN0cmluZywgUGFyYW1ldGVyPigpO1xuICAgIGZvciAoY29uc3QgbGlzdCBvZiBbc2hhcmVkLCBvd25dKSB7XG4gICAgICBjb25zdCBsaXN0QXQgPSBiZWxvdyhhdCwgJ3BhcmFtZXRlcnMnKTtcbiAgICAgIGZvciAoY29uc3QgW2luZGV4LCBnaXZlbl0gb2YgKEFycmF5LmlzQXJyYXkobGlzdCkgPyBsaXN0IDogW10pLmVudHJpZXMoKSkge1xuICAgICAgICBjb25zdCBwYXJhbWV0ZXIgPSB0aGlzLnBhcmFtZXRlcihnaXZlbiBhcyBKc29uLCBiZWxvdyhsaXN0QXQsIGluZGV4KSk7XG4gICAgICAgIGlmIChwYXJhbWV0ZXIpIGZvdW5kLnNldChgJHtwYXJhbWV0ZXIuaW59ICR7cGFyYW1ldGVyLm5hbWV9YCwgcGFyYW1ldGVyKTtcbiAgICAgIH1cbiAgICB9XG4gICAgZm9yIChjb25zdCBbLCBuYW1lXSBvZiBwYXRoLm1hdGNoQWxsKC9cXHsoW159XSspXFx9L2cpKSB7XG4gICAgICBpZiAobmFtZSA9PT0gdW5kZWZpbmVkIHx8IGZvdW5kLmhhcyhgcGF0aCAke25hbWV9YCkpIGNvbnRpbnVlO1xuICAgICAgZm91bmQuc2V0KGBwYXRoICR7bmFtZX1gLCB7IG5hbWUsIGluOiAncGF0aCcsIHR5cGU6ICdzdHJpbmcnLCByZXF1aXJlZDogdHJ1ZSB9KTtcbiAgICB9XG4gICAgcmV0dXJuIFsuLi5mb3VuZC52YWx1ZXMoKV07XG4gIH1cblxuICBwcml2YXRlIHBhcmFtZXRlcihnaXZlbjogSnNvbiwgYXQ6IHN0cmluZyk6IFBhcmFtZXRlciB8IHVuZGVmaW5lZCB7XG4gICAgY29uc3Qgb3duID0gdGhpcy5yZWZlcmVuY2VzLmZvbGxvdyhnaXZlbiwgYXQpO1xuICAgIGlmIChvd24gPT09IHVuZGVmaW5lZCkgcmV0dXJuIHVuZGVmaW5lZDtcbiAgICBpZiAoIWlzUGFyYW1ldGVyKG93bikpIHJldHVybiB1bmRlZmluZWQ7XG4gICAgaWYgKG93bi5pbiA9PT0gJ2hlYWRlcicgJiYgb3duSGVhZGVycy5oYXMob3duLm5hbWUudG9Mb3dlckNhc2UoKSkpIHJldHVybiB1bmRlZmluZWQ7XG4gICAgY29uc3QgY29udGVudCA9IGlzTWFwKG93bi5jb250ZW50KSA/IE9iamVjdC52YWx1ZXMob3duLmNvbnRlbnQpWzBdIDogdW5kZWZpbmVkO1xuICAgIGNvbnN0IHNjaGVtYSA9IG93bi5zY2hlbWEgPz8gKGlzTWFwKGNvbnRlbnQpID8gY29udGVudC5zY2hlbWEgOiB1bmRlZmluZWQpO1xuICAgIGNvbnN0IGZpZWxkID0gdGhpcy5yZWFkZXIuZmllbGQob3duLm5hbWUsIHNjaGVtYSwgb3duLnJlcXVpcmVkID09PSB0cnVlIHx8IG93bi5pbiA9PT0gJ3BhdGgnLCBhdCk7XG4gICAgY29uc3QgZXhhbXBsZSA9IG93bi5leGFtcGxlID8/IGZpcnN0RXhhbXBsZShvd24uZXhhbXBsZXMpO1xuICAgIGNvbnN0IG9wZXJhdG9ycyA9IGZpZWxkLnR5cGUgPT09ICdzdHJpbmcnID8gb3BlcmF0b3JzU2FpZCh0ZXh0KG93bi5kZXNjcmlwdGlvbikpIDogW107XG4gICAgcmV0dXJuIHtcbiAgICAgIC4uLmZpZWxkLFxuICAgICAgLi4uKG9wZXJhdG9ycy5sZW5ndGggPiAwICYmIHsgY2xhdXNlczogeyBmaWVsZHM6IFtdLCBvcGVyYXRvcnMgfSB9KSxcbiAgICAgIGluOiBvd24uaW4gYXMgUGFyYW1ldGVyTG9jYXRpb24sXG4gICAgICAuLi4odHlwZW9mIG93bi5kZXNjcmlwdGlvbiA9PT0gJ3N0cmluZycgJiYgeyBkZXNjcmlwdGlvbjogb3duLmRlc2NyaXB0aW9uIH0pLFxuICAgICAgLi4uKGV4YW1wbGUgIT09IHVuZGVmaW5lZCAmJiB7IGV4YW1wbGU6IGV4YW1wbGUgYXMgVmFsdWUgfSksXG4gICAgICAuLi4ob3duLmRlcHJlY2F0ZWQgPT09IHRydWUgJiYgeyBkZXByZWNhdGVkOiB0cnVlIH0pLFxuICAgICAgLi4uKGZpZWxkLnR5cGUuc3RhcnRzV2l0aCgnYXJyYXknKSAmJiB7XG4gICAgICAgIGxpc3RzOiBvd24uZXhwbG9kZSA9PT0gZmFsc2UgPyAoJ2pvaW5lZCcgYXMgY29uc3QpIDogKCdyZXBlYXRlZCcgYXMgY29uc3QpLFxuICAgICAgfSksXG4gICAgICAuLi4odHlwZW9mIG93bi5zdHlsZSA9PT0gJ3N0cmluZycgJiYgIXVzdWFsU3R5bGVzLmhhcyhvd24uc3R5bGUpICYmIHsgc3R5bGU6IG93bi5zdHlsZSB9KSxcbiAgICB9O1xuICB9XG5cbiAgcHJpdmF0ZSBib2R5KGdpdmVuOiBKc29uIHwgdW5kZWZpbmVkLCBhdDogc3RyaW5nKTogQm9keSB8IHVuZGVmaW5lZCB7XG4gICAgaWYgKGdpdmVuID09PSB1bmRlZmluZWQpIHJldHVybiB1bmRlZmluZWQ7XG4gICAgY29uc3Qgb3duID0gdGhpcy5yZWZlcmVuY2VzLmZvbGxvdyhnaXZlbiwgYXQpO1xuICAgIGlmICghaXNNYXAob3duKSB8fCAhaXNNYXAob3duLmNvbnRlbnQpKSByZXR1cm4gdW5kZWZpbmVkO1xuICAgIGNvbnN0IGNvbnRlbnQgPSB0aGlzLmNvbnRlbnQob3duLmNvbnRlbnQsIGJlbG93KGF0LCAnY29udGVudCcpLCB0cnVlKTtcbiAgICByZXR1cm4gKFxuICAgICAgY29udGVudCAmJiB7XG4gICAgICAgIC4uLmNvbnRlbnQsXG4gICAgICAgIHJlcXVpcmVkOiBvd24ucmVxdWlyZWQgPT09IHRydWUsXG4gICAgICAgIG90aGVyVHlwZXM6IE9iamVjdC5rZXlzKG93bi5jb250ZW50KS5maWx0ZXIoKHR5cGUpID0+IHR5cGUgIT09IGNvbnRlbnQudHlwZSksXG4gICAgICB9XG4gICAgKTtcbiAgfVxuXG4gIHByaXZhdGUgYW5zd2VycyhnaXZlbjogSnNvbiB8IHVuZGVmaW5lZCwgYXQ6IHN0cmluZyk6IEFuc3dlcltdIHtcbiAgICByZXR1cm4gT2JqZWN0LmVudHJpZXMoaXNNYXAoZ2l2ZW4pID8gZ2l2ZW4gOiB7fSkuZmxhdE1hcCgoW3N0YXR1cywgb25lXSkgPT4ge1xuICAgICAgY29uc3Qgd2hlcmUgPSBiZWxvdyhhdCwgc3RhdHVzKTtcbiAgICAgIGNvbnN0IG93biA9IHRoaXMucmVmZXJlbmNlcy5mb2xsb3cob25lLCB3aGVyZSk7XG4gICAgICBpZiAoIWlzTWFwKG93bikpIHJldHVybiBbXTtcbiAgICAgIGNvbnN0IGNvbnRlbnQgPSBpc01hcChvd24uY29udGVudCkgPyB0aGlzLmNvbnRlbnQob3duLmNvbnRlbnQsIGJlbG93KHdoZXJlLCAnY29udGVudCcpLCBmYWxzZSkgOiB1bmRlZmluZWQ7XG4gICAgICByZXR1cm4gW1xuICAgICAgICB7XG4gICAgICAgICAgc3RhdHVzLFxuICAgICAgICAgIC4uLih0eXBlb2Ygb3duLmRlc2NyaXB0aW9uID09PSAnc3RyaW5nJyAmJiB7IGRlc2NyaXB0aW9uOiBvd24uZGVzY3JpcHRpb24gfSksXG4gICAgICAgICAgLi4uKGNvbnRlbnQgJiYgeyBjb250ZW50IH0pLFxuICAgICAgICAgIGhlYWRlcnM6IHRoaXMuaGVhZGVycyhvd24uaGVhZGVycywgYmVsb3cod2hlcmUsICdoZWFkZXJzJykpLFxuICAgICAgICB9LFxuICAgICAgXTtcbiAgICB9KTtcbiAgfVxuXG4gIHByaXZhdGUgaGVhZGVycyhnaXZlbjogSnNvbiB8IHVuZGVmaW5lZCwgYXQ6IHN0cmluZyk6IEZpZWxkW10ge1xuICAgIHJldHVybiBPYmplY3QuZW50cmllcyhpc01hcChnaXZlbikgPyBnaXZlbiA6IHt9KS5mbGF0TWFwKChbbmFtZSwgb25lXSkgPT4ge1xuICAgICAgY29uc3Qgb3duID0gdGhpcy5yZWZlcmVuY2VzLmZvbGxvdyhvbmUsIGJlbG93KGF0LCBuYW1lKSk7XG4gICAgICBpZiAoIWlzTWFwKG93bikpIHJldHVybiBbXTtcbiAgICAgIGNvbnN0IGZpZWxkID0gdGhpcy5yZWFkZXIuZmllbGQobmFtZSwgb3duLnNjaGVtYSwgb3duLnJlcXVpcmVkID09PSB0cnVlLCBiZWxvdyhhdCwgbmFtZSkpO1xuICAgICAgcmV0dXJuIFt0eXBlb2Ygb3duLmRlc2NyaXB0aW9uID09PSAnc3RyaW5nJyA/IHsgLi4uZmllbGQsIGRlc2NyaXB0aW9uOiBvd24uZGVzY3JpcHRpb24gfSA6IGZpZWxkXTtcbiAgICB9KTtcbiAgfVxuXG4gIC8qKiBUaGUgSlNPTiBjb250ZW50IHdoZXJlIHRoZXJlIGlzIG9uZSwgZWxzZSB0aGUgZmlyc3QuICovXG4gIHByaXZhdGUgY29udGVudChjb250ZW50OiBKc29uTWFwLCBhdDogc3RyaW5nLCB0b1NlbmQ6IGJvb2xlYW4pOiBDb250ZW50IHwgdW5kZWZpbmVkIHtcbiAgICBjb25zdCB0eXBlcyA9IE9iamVjdC5rZXlzKGNvbnRlbnQpO1xuICAgIGNvbnN0IHR5cGUgPSB0eXBlcy5maW5kKChvbmUpID0+IC9eYXBwbGljYXRpb25cXC8oPzpbXFx3Li1dK1xcKyk/anNvblxcYi8udGVzdChvbmUpKSA/PyB0eXBlc1swXTtcbiAgICBpZiAodHlwZSA9PT0gdW5kZWZpbmVkKSByZXR1cm4gdW5kZWZpbmVkO1xuICAgIGNvbnN0IG93biA9IGNvbnRlbnRbdHlwZV07XG4gICAgaWYgKCFpc01hcChvd24pKSByZXR1cm4gdW5kZWZpbmVkO1xuICAgIGNvbnN0IHdoZXJlID0gYmVsb3coYmVsb3coYXQsIHR5cGUpLCAnc2NoZW1hJyk7XG4gICAgY29uc3QgZmllbGRzID0gdGhpcy5yZWFkZXIuZmllbGRzKG93bi5zY2hlbWEsIHdoZXJlKTtcbiAgICBjb25zdCBhbHRlcm5hdGl2ZXMgPSB0aGlzLnJlYWRlci5hbHRlcm5hdGl2ZXMob3duLnNjaGVtYSwgd2hlcmUpO1xuICAgIGNvbnN0IHNjaGVtYSA9IHRoaXMucmVmZXJlbmNlcy5mb2xsb3cob3duLnNjaGVtYSwgd2hlcmUpO1xuICAgIGNvbnN0IGRvY3VtZW50ZWQgPSBvd24uZXhhbXBsZSA/PyBmaXJzdEV4YW1wbGUob3duLmV4YW1wbGVzKSA/PyAoaXNNYXAoc2NoZW1hKSA/IGV4YW1wbGVPZihzY2hlbWEpIDogdW5kZWZpbmVkKTtcbiAgICBjb25zdCBsaXN0ID0gaXNNYXAoc2NoZW1hKSAmJiBzY2hlbWEudHlwZSA9PT0gJ2FycmF5JztcbiAgICBjb25zdCBtYWRlID0gZmllbGRzLmxlbmd0aCA9PT0gMCA/IHVuZGVmaW5lZCA6IGV4YW1wbGVGcm9tKGZpZWxkcywgeyB0b1NlbmQgfSk7XG4gICAgY29uc3QgeG1sID0gL1svK114bWxcXGIvLnRlc3QodHlwZSkgPyB0aGlzLnJvb3Qob3duLnNjaGVtYSwgc2NoZW1hKSA6IHVuZGVmaW5lZDtcbiAgICBjb25zdCB3cml0dGVuID0geG1sICYmIG1hZGUgIT09IHVuZGVmaW5lZCA/IHhtbEV4YW1wbGUoZmllbGRzLCB4bWwsIHRvU2VuZCkgOiB1bmRlZmluZWQ7XG4gICAgY29uc3QgZXhhbXBsZSA9IGRvY3VtZW50ZWQgPz8gd3JpdHRlbiA/PyAobGlzdCAmJiBtYWRlICE9PSB1bmRlZmluZWQgPyBbbWFkZV0gOiBtYWRlKTtcbiAgICByZXR1cm4ge1xuICAgICAgdHlwZSxcbiAgICAgIGZpZWxkcyxcbiAgICAgIC4uLihleGFtcGxlICE9PSB1bmRlZmluZWQgJiYgeyBleGFtcGxlOiBleGFtcGxlIGFzIFZhbHVlIH0pLFxuICAgICAgZG9jdW1lbnRlZEV4YW1wbGU6IGRvY3VtZW50ZWQgIT09IHVuZGVmaW5lZCxcbiAgICAgIC4uLihvd24uc2NoZW1hICE9PSB1bmRlZmluZWQgJiYgeyBzY2hlbWE6IG93bi5zY2hlbWEgYXMgVmFsdWUgfSksXG4gICAgICAuLi4oYWx0ZXJuYXRpdmVzICYmIHsgYWx0ZXJuYXRpdmVzIH0pLFxuICAgICAgLi4uKHhtbCAmJiB7IHhtbCB9KSxcbiAgICB9O1xuICB9XG5cbiAgLyoqIFRoZSByb290IGVsZW1lbnQ6IG5hbWVkIGJ5IHRoZSBzY2hlbWEsIGVsc2UgYnkgdGhlIG5hbWUgdGhhdCB0aGUgc2NoZW1hIGhhcyBpbiB0aGUgZG9jdW1lbnQuICovXG4gIHByaXZhdGUgcm9vdChnaXZlbjogSnNvbiB8IHVuZGVmaW5lZCwgc2NoZW1hOiBKc29uIHwgdW5kZWZpbmVkKTogWG1sV3JpdGluZyB7XG4gICAgY29uc3Qgb3duID0gaXNNYXAoc2NoZW1hKSA/IHhtbE9mKHNjaGVtYSwgKCkgPT4gKHt9KSkgOiB1bmRlZmluZWQ7XG4gICAgY29uc3QgcmVmZXJlbmNlID0gaXNNYXAoZ2l2ZW4pICYmIHR5cGVvZiBnaXZlbi4kcmVmID09PSAnc3RyaW5nJyA/IGdpdmVuLiRyZWYucmVwbGFjZSgvXi4qXFwvLywgJycpIDogdW5kZWZpbmVkO1xuICAgIHJldHVybiB7IC4uLihyZWZlcmVuY2UgIT09IHVuZGVmaW5lZCAmJiB7IG5hbWU6IHJlZmVyZW5jZSB9KSwgLi4ub3duIH07XG4gIH1cbn1cblxuLyoqIEV2ZXJ5IGVsZW1lbnQgc3RhbmRzIHRoZXJlLCB0aGUgb3B0aW9uYWwgb25lcyB0b28uICovXG5mdW5jdGlvbiB4bWxFeGFtcGxlKGZpZWxkczogcmVhZG9ubHkgRmllbGRbXSwgeG1sOiBYbWxXcml0aW5nLCB0b1NlbmQ6IGJvb2xlYW4pOiBzdHJpbmcge1xuICBjb25zdCBsaW5lcyA9IHhtbFRleHQoXG4gICAgeyBmaWVsZHMsIHhtbCB9LFxuICAgIHtcbiAgICAgIHRha2VzOiAoeyByZWFkT25seSwgd3JpdGVPbmx5IH0pID0+ICEodG9TZW5kID8gcmVhZE9ubHkgOiB3cml0ZU9ubHkpLFxuICAgICAgdmFsdWU6IChmaWVsZCkgPT4gZXNjYXBlZCh0ZXh0T2YoZmlyc3RPZihleGFtcGxlVmFsdWUoZmllbGQpKSkpLFxuICAgICAgb3B0aW9uYWw6IChvd24pID0+IG93bixcbiAgICAgIHJlcGVhdHM6ICgpID0+IFtdLFxuICAgIH0sXG4gICk7XG4gIHJldHVybiBsaW5lcy5qb2luKCdcXG4nKTtcbn1cblxuY29uc3QgZmlyc3RPZiA9ICh2YWx1ZTogVmFsdWUpOiBWYWx1ZSA9PiAoQXJyYXkuaXNBcnJheSh2YWx1ZSkgPyAoKHZhbHVlWzBdIGFzIFZhbHVlIHwgdW5kZWZpbmVkKSA/PyAnJykgOiB2YWx1ZSk7XG5cbmNvbnN0IHRleHQgPSAoZ2l2ZW46IEpzb24gfCB1bmRlZmluZWQpOiBzdHJpbmcgfCB1bmRlZmluZWQgPT4gKHR5cGVvZiBnaXZlbiA9PT0gJ3N0cmluZycgPyBnaXZlbiA6IHVuZGVmaW5lZCk7XG5cbi8qKiBUaGUgdmFsdWUgb2YgdGhlIGZpcnN0IG9mIHNldmVyYWwgbmFtZWQgZXhhbXBsZXMuICovXG5mdW5jdGlvbiBmaXJzdEV4YW1wbGUoZXhhbXBsZXM6IEpzb24gfCB1bmRlZmluZWQpOiBKc29uIHwgdW5kZWZpbmVkIHtcbiAgY29uc3QgZmlyc3QgPSBpc01hcChleGFtcGxlcykgPyBPYmplY3QudmFsdWVzKGV4YW1wbGVzKVswXSA6IHVuZGVmaW5lZDtcbiAgcmV0dXJuIGlzTWFwKGZpcnN0KSA/IGZpcnN0LnZhbHVlIDogdW5kZWZpbmVkO1xufVxuXG4vKiogYG9uTW9vcmVkOiBQT1NUIHskcmVxdWVzdC5ib2R5Iy9jYWxsYmFja31gLiAqL1xuZnVuY3Rpb24gY2FsbGJhY2tOYW1lcyhjYWxsYmFja3M6IEpzb25NYXApOiBzdHJpbmdbXSB7XG4gIHJldHVybiBPYmplY3QuZW50cmllcyhjYWxsYmFja3MpLmZsYXRNYXAoKFtuYW1lLCBvbmVdKSA9PlxuICAgIGlzTWFwKG9uZSlcbiAgICAgID8gT2JqZWN0LmVudHJpZXMob25lKS5mbGF0TWFwKChbYWRkcmVzcywgaXRlbV0pID0+XG4gICAgICAgICAgaXNNYXAoaXRlbSlcbiAgICAgICAgICAgID8gT2JqZWN0LmtleXMoaXRlbSlcbiAgICAgICAgICAgICAgICAuZmlsdGVyKGlzTWV0aG9kKVxuICAgICAgICAgICAgICAgIC5tYXAoKG1ldGhvZCkgPT4gYCR7bmFtZX06ICR7bWV0aG9kLnRvVXBwZXJDYXNlKCl9ICR7YWRkcmVzc31gKVxuICAgICAgICAgICAgOiBbXSxcbiAgICAgICAgKVxuICAgICAgOiBbXSxcbiAgKTtcbn1cblxuY29uc3QgaXNNZXRob2QgPSAoa2V5OiBzdHJpbmcpOiBib29sZWFuID0+IC9eKD86Z2V0fHB1dHxwb3N0fGRlbGV0ZXxvcHRpb25zfGhlYWR8cGF0Y2h8dHJhY2UpJC8udGVzdChrZXkpO1xuXG4vKiogT3BlbkFQSSAzLCBMaW5rIE9iamVjdDogb25seSB3aGF0IHN0YW5kcyBpbiB0aGUgYm9keSBvZiBhbiBhbnN3ZXIsIGFuZCBpcyBuYW1lZCBieSBvcGVyYXRpb25JZC4gKi9cbmV4cG9ydCBmdW5jdGlvbiBkb2N1bWVudGVkTGlua3MocmVzcG9uc2VzOiBKc29uIHwgdW5kZWZpbmVkLCByZWZlcmVuY2VzOiBSZWZlcmVuY2VzLCBhdDogc3RyaW5nKTogRG9jdW1lbnRlZExpbmtbXSB7XG4gIGNvbnN0IGZvdW5kOiBEb2N1bWVudGVkTGlua1tdID0gW107XG4gIGZvciAoY29uc3Qgb25lIG9mIE9iamVjdC52YWx1ZXMoaXNNYXAocmVzcG9uc2VzKSA/IHJlc3BvbnNlcyA6IHt9KSkge1xuICAgIGNvbnN0IGFuc3dlciA9IHJlZmVyZW5jZXMuZm9sbG93KG9uZSwgYXQpO1xuICAgIGZvciAoY29uc3QgZ2l2ZW4gb2YgT2JqZWN0LnZhbHVlcyhpc01hcChhbnN3ZXIpICYmIGlzTWFwKGFuc3dlci5saW5rcykgPyBhbnN3ZXIubGlua3MgOiB7fSkpIHtcbiAgICAgIGNvbnN0IGxpbmsgPSByZWZlcmVuY2VzLmZvbGxvdyhnaXZlbiwgYXQpO1xuICAgICAgaWYgKCFpc01hcChsaW5rKSB8fCB0eXBlb2YgbGluay5vcGVyYXRpb25JZCAhPT0gJ3N0cmluZycgfHwgIWlzTWFwKGxpbmsucGFyYW1ldGVycykpIGNvbnRpbnVlO1xuICAgICAgZm9yIChjb25zdCBbcGFyYW1ldGVyLCBmcm9tXSBvZiBPYmplY3QuZW50cmllcyhsaW5rLnBhcmFtZXRlcnMpKSB7XG4gICAgICAgIGNvbnN0IHBsYWNlID0gL15cXCRyZXNwb25zZVxcLmJvZHkjKFxcLy4qKSQvLmV4ZWMoU3RyaW5nKGZyb20pKT8uWzFdO1xuICAgICAgICBpZiAocGxhY2UgIT09IHVuZGVmaW5lZClcbiAgICAgICAgICBmb3VuZC5wdXNoKHtcbiAgICAgICAgICAgIG9wZXJhdGlvbjogbGluay5vcGVyYXRpb25JZCxcbiAgICAgICAgICAgIHBhcmFtZXRlcjogcGFyYW1ldGVyLnJlcGxhY2UoL14oPzpwYXRofHF1ZXJ5fGhlYWRlcilcXC4vLCAnJyksXG4gICAgICAgICAgICBmcm9tOiBgJCR7cGxhY2UucmVwbGFjZUFsbCgnLycsICcuJyl9YCxcbiAgICAgICAgICB9KTtcbiAgICAgIH1cbiAgICB9XG4gIH1cbiAgcmV0dXJuIGZvdW5kO1xufVxuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBT0EsSUFBTSxVQUFVO0FBQ2hCLElBQU0sYUFBYTtBQWNaLFNBQVMsWUFBWUEsYUFBd0IsU0FBUyxTQUFzQjtBQUNqRixRQUFNLE9BQU8sS0FBSyxJQUFJLFFBQVEsT0FBTztBQUNyQyxNQUFJLFNBQVM7QUFHYixXQUFTLE1BQU0sUUFBMEIsSUFBWSxRQUFRLEdBQVk7QUFDdkUsVUFBTSxNQUFNQSxZQUFXLE9BQU8sUUFBUSxFQUFFO0FBQ3hDLFFBQUksQ0FBQyxNQUFNLEdBQUcsRUFBRyxRQUFPLENBQUM7QUFDekIsVUFBTSxTQUFTLE1BQU0sTUFBTSxLQUFLLE9BQU8sU0FBUyxTQUFZLFNBQVMsTUFBTSxJQUFJLENBQUM7QUFDaEYsVUFBTSxPQUFPLEVBQUUsR0FBRyxLQUFLLEdBQUcsT0FBTztBQUNqQyxRQUFJLENBQUMsTUFBTSxRQUFRLEtBQUssS0FBSyxLQUFLLFFBQVEsUUFBUyxRQUFPO0FBQzFELFVBQU0sUUFBUSxDQUFDLEdBQUcsS0FBSyxNQUFNLElBQUksQ0FBQyxNQUFZLFVBQVUsTUFBTSxNQUFNLEdBQUcsRUFBRSxVQUFVLEtBQUssSUFBSSxRQUFRLENBQUMsQ0FBQyxHQUFHLElBQUk7QUFDN0csVUFBTSxTQUErQixDQUFDO0FBQ3RDLGVBQVcsUUFBUSxPQUFPO0FBQ3hCLGlCQUFXLENBQUMsS0FBSyxLQUFLLEtBQUssT0FBTyxRQUFRLElBQUksR0FBRztBQUMvQyxZQUFJLFFBQVEsUUFBUztBQUNyQixjQUFNLFNBQVMsT0FBTyxHQUFHO0FBQ3pCLFlBQUksUUFBUSxnQkFBZ0IsTUFBTSxNQUFNLEtBQUssTUFBTSxLQUFLLEVBQUcsUUFBTyxHQUFHLElBQUksRUFBRSxHQUFHLFFBQVEsR0FBRyxNQUFNO0FBQUEsaUJBQ3RGLFFBQVEsY0FBYyxNQUFNLFFBQVEsTUFBTSxLQUFLLE1BQU0sUUFBUSxLQUFLO0FBQ3pFLGlCQUFPLEdBQUcsSUFBSSxDQUFDLEdBQUcsUUFBUSxHQUFHLEtBQUs7QUFBQSxZQUMvQixRQUFPLEdBQUcsSUFBSTtBQUFBLE1BQ3JCO0FBQUEsSUFDRjtBQUNBLFdBQU87QUFBQSxFQUNUO0FBRUEsV0FBUyxRQUFRLFFBQTBCLElBQVksT0FBMEIsT0FBaUM7QUFDaEgsVUFBTSxFQUFFLFlBQVksVUFBVSxPQUFPLE9BQU8sTUFBTSxJQUFJLE1BQU0sUUFBUSxFQUFFO0FBQ3RFLFFBQUksVUFBVSxPQUFXLFFBQU8sUUFBUSxPQUFPLEdBQUcsRUFBRSxVQUFVLE9BQU8sS0FBSztBQUMxRSxRQUFJLENBQUMsTUFBTSxVQUFVLEdBQUc7QUFDdEIsWUFBTSxlQUFlLE1BQU0sUUFBUSxLQUFLLElBQUksUUFBUSxNQUFNLFFBQVEsS0FBSyxJQUFJLFFBQVEsQ0FBQztBQUNwRixZQUFNLFFBQVEsYUFBYSxLQUFLLENBQUNDLFNBQWMsTUFBTSxNQUFNQSxNQUFLLEVBQUUsRUFBRSxVQUFVLENBQUM7QUFDL0UsYUFBTyxVQUFVLFNBQVksQ0FBQyxJQUFJLFFBQVEsT0FBTyxJQUFJLE9BQU8sS0FBSztBQUFBLElBQ25FO0FBQ0EsVUFBTSxTQUFTLElBQUksSUFBSSxNQUFNLFFBQVEsUUFBUSxJQUFJLFdBQVcsQ0FBQyxDQUFDO0FBQzlELFdBQU8sT0FBTyxRQUFRLFVBQVUsRUFBRTtBQUFBLE1BQUksQ0FBQyxDQUFDLE1BQU0sS0FBSyxNQUNqRCxJQUFJLE1BQU0sT0FBTyxPQUFPLElBQUksSUFBSSxHQUFHLEdBQUcsRUFBRSxlQUFlLElBQUksSUFBSSxPQUFPLEtBQUs7QUFBQSxJQUM3RTtBQUFBLEVBQ0Y7QUFFQSxXQUFTLElBQ1AsTUFDQSxRQUNBLFVBQ0EsSUFDQSxPQUNBLE9BQ087QUFDUCxVQUFNLE1BQU0sTUFBTSxRQUFRLEVBQUU7QUFDNUIsVUFBTSxZQUFZLFlBQVksTUFBTTtBQUNwQyxVQUFNLFlBQVksY0FBYyxVQUFhLE1BQU0sU0FBUyxTQUFTLElBQUksVUFBVSxRQUFRLFNBQVMsRUFBRSxJQUFJO0FBQzFHLFVBQU0sU0FBUyxjQUFjLFNBQVksUUFBUSxDQUFDLEdBQUcsT0FBTyxTQUFTO0FBQ3JFLGNBQVU7QUFDVixVQUFNLE9BQU8sY0FBYyxVQUFhLFNBQVMsUUFBUSxVQUFVO0FBQ25FLFVBQU0sT0FBTyxRQUFRLGNBQWMsVUFBYSxNQUFNLFVBQVUsS0FBSyxFQUFFLEVBQUUsVUFBVTtBQUNuRixVQUFNLFNBQVMsT0FBTyxDQUFDLElBQUksUUFBUSxLQUFLLElBQUksUUFBUSxRQUFRLENBQUM7QUFDN0QsVUFBTSxlQUFlLE9BQU8sU0FBWSxlQUFlLEtBQUssSUFBSSxRQUFRLFFBQVEsQ0FBQztBQUNqRixXQUFPO0FBQUEsTUFDTDtBQUFBLE1BQ0EsTUFBTSxTQUFTLEtBQUssQ0FBQyxVQUFVLE1BQU0sT0FBTyxFQUFFLENBQUM7QUFBQSxNQUMvQztBQUFBLE1BQ0EsR0FBRyxLQUFLLGVBQWUsS0FBSyxJQUFJLFdBQVcsQ0FBQztBQUFBLE1BQzVDLEdBQUcsS0FBSyxXQUFXLElBQUksT0FBNEI7QUFBQSxNQUNuRCxHQUFHLEtBQUssV0FBVyxVQUFVLEdBQUcsQ0FBQztBQUFBLE1BQ2pDLEdBQUcsS0FBSyxXQUFXLFVBQVUsR0FBRyxDQUFDO0FBQUEsTUFDakMsR0FBRyxLQUFLLFVBQVUsU0FBUyxHQUFHLENBQUM7QUFBQSxNQUMvQixHQUFJLElBQUksYUFBYSxRQUFRLEVBQUUsVUFBVSxLQUFLO0FBQUEsTUFDOUMsR0FBSSxJQUFJLGNBQWMsUUFBUSxFQUFFLFdBQVcsS0FBSztBQUFBLE1BQ2hELEdBQUksSUFBSSxlQUFlLFFBQVEsRUFBRSxZQUFZLEtBQUs7QUFBQSxNQUNsRCxHQUFJLE9BQU8sU0FBUyxLQUFLLEVBQUUsT0FBTztBQUFBLE1BQ2xDLEdBQUc7QUFBQSxRQUNEO0FBQUEsUUFDQSxNQUFNLEtBQUssQ0FBQyxVQUFVLE1BQU0sT0FBTyxFQUFFLENBQUM7QUFBQSxNQUN4QztBQUFBLE1BQ0EsR0FBRyxLQUFLLGFBQWEsU0FBUztBQUFBLE1BQzlCLEdBQUksUUFBUSxFQUFFLE1BQU0sV0FBVyxRQUFRLFNBQVMsRUFBRSxLQUFLLEdBQUc7QUFBQSxNQUMxRCxHQUFHLEtBQUssZ0JBQWdCLFlBQVk7QUFBQSxJQUN0QztBQUFBLEVBQ0Y7QUFHQSxRQUFNLFlBQVksQ0FBQyxLQUFjLE9BQy9CLElBQUksVUFBVSxTQUFZLE1BQU0sTUFBTSxJQUFJLE9BQU8sR0FBRyxFQUFFLFFBQVE7QUFFaEUsV0FBUyxlQUNQLEtBQ0EsSUFDQSxPQUNBLE9BQ29DO0FBQ3BDLFVBQU0sTUFBTSxNQUFNLFFBQVEsSUFBSSxLQUFLLElBQUksVUFBVTtBQUNqRCxVQUFNLFFBQVEsSUFBSSxHQUFHO0FBQ3JCLFFBQUksQ0FBQyxNQUFNLFFBQVEsS0FBSyxLQUFLLFFBQVEsS0FBTSxRQUFPO0FBQ2xELFVBQU0sU0FBUyxNQUFNLE9BQU8sQ0FBQ0EsU0FBYyxNQUFNQSxNQUFLLEVBQUUsRUFBRSxTQUFTLE1BQU07QUFDekUsUUFBSSxPQUFPLFNBQVMsS0FBSyxDQUFDLE9BQU8sS0FBSyxDQUFDQSxTQUFjLE1BQU0sTUFBTUEsTUFBSyxFQUFFLEVBQUUsVUFBVSxDQUFDLEVBQUcsUUFBTztBQUMvRixVQUFNLFdBQVcsTUFBTSxJQUFJLGFBQWEsSUFBSSxJQUFJLGNBQWMsZUFBZTtBQUM3RSxVQUFNLFVBQVUsTUFBTSxJQUFJLGFBQWEsS0FBSyxNQUFNLElBQUksY0FBYyxPQUFPLElBQUksSUFBSSxjQUFjLFVBQVUsQ0FBQztBQUM1RyxXQUFPLE9BQU8sSUFBSSxDQUFDQSxNQUFXLFVBQVU7QUFDdEMsWUFBTSxZQUFZLFlBQVlBLElBQUc7QUFDakMsWUFBTSxRQUFRLE1BQU1BLE1BQUssRUFBRTtBQUMzQixZQUFNLE9BQ0osV0FBVyxRQUFRLFNBQVMsRUFBRSxNQUFNLE9BQU8sTUFBTSxVQUFVLFdBQVcsTUFBTSxRQUFRLFNBQVMsUUFBUSxDQUFDO0FBQ3hHLFlBQU0sUUFDSixPQUFPLFFBQVEsT0FBTyxFQUFFLEtBQUssQ0FBQyxDQUFDLEVBQUUsTUFBTSxNQUFNLFdBQVcsYUFBYSxXQUFXLElBQUksSUFBSSxDQUFDLE1BQ3hGLGNBQWMsU0FBWSxTQUFZO0FBQ3pDLFlBQU0sUUFBUSxjQUFjLFVBQWEsTUFBTSxTQUFTLFNBQVM7QUFDakUsYUFBTztBQUFBLFFBQ0w7QUFBQSxRQUNBLEdBQUksT0FBTyxhQUFhLFlBQVksVUFBVSxVQUFhLEVBQUUsTUFBTSxHQUFHLFFBQVEsS0FBSyxLQUFLLEdBQUc7QUFBQSxRQUMzRixRQUFRLFFBQ0osQ0FBQyxJQUNELFFBQVFBLE1BQUssR0FBRyxFQUFFLElBQUksR0FBRyxJQUFJLEtBQUssSUFBSSxjQUFjLFNBQVksUUFBUSxDQUFDLEdBQUcsT0FBTyxTQUFTLEdBQUcsUUFBUSxDQUFDO0FBQUEsTUFDOUc7QUFBQSxJQUNGLENBQUM7QUFBQSxFQUNIO0FBRUEsU0FBTztBQUFBLElBQ0wsYUFBYSxRQUFRLElBQUk7QUFDdkIsWUFBTSxNQUFNLE1BQU0sUUFBUSxFQUFFO0FBQzVCLGFBQU8sZUFBZSxJQUFJLFVBQVUsU0FBWSxNQUFNLE1BQU0sSUFBSSxPQUFPLEVBQUUsR0FBRyxJQUFJLENBQUMsR0FBRyxDQUFDO0FBQUEsSUFDdkY7QUFBQSxJQUNBLE9BQU8sUUFBUSxJQUFJO0FBQ2pCLGVBQVM7QUFDVCxZQUFNLFlBQVksWUFBWSxNQUFNO0FBQ3BDLGFBQU8sUUFBUSxRQUFRLElBQUksY0FBYyxTQUFZLENBQUMsSUFBSSxDQUFDLFNBQVMsR0FBRyxDQUFDO0FBQUEsSUFDMUU7QUFBQSxJQUNBLE9BQU8sQ0FBQyxNQUFNLFFBQVEsVUFBVSxPQUFPLElBQUksTUFBTSxRQUFRLFVBQVUsSUFBSSxDQUFDLEdBQUcsQ0FBQztBQUFBLEVBQzlFO0FBQ0Y7QUFHTyxTQUFTLGVBQWUsTUFBYyxLQUFhLGFBQTJDO0FBQ25HLFFBQU0sUUFBUSxXQUFlLFdBQVc7QUFDeEMsUUFBTSxTQUFTLFlBQVksS0FBSztBQUNoQyxRQUFNLFlBQWtCLEVBQUUsTUFBTSxJQUFJO0FBQ3BDLFFBQU0sUUFBUSxPQUFPLE1BQU0sTUFBTSxXQUFXLE9BQU8sR0FBRztBQUN0RCxRQUFNLGVBQWUsT0FBTyxhQUFhLFdBQVcsR0FBRztBQUN2RCxTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0EsTUFBTSxNQUFNLFVBQVUsZ0JBQWdCLE1BQU07QUFBQSxJQUM1QyxHQUFHLEtBQUssZUFBZSxNQUFNLFdBQVc7QUFBQSxJQUN4QyxRQUFRLE9BQU8sT0FBTyxXQUFXLEdBQUc7QUFBQSxJQUNwQyxHQUFHLEtBQUssV0FBVyxNQUFNLE9BQU87QUFBQSxJQUNoQyxHQUFHLEtBQUssZ0JBQWdCLFlBQVk7QUFBQSxFQUN0QztBQUNGO0FBRUEsU0FBUyxTQUFTLEVBQUUsTUFBTSxHQUFHLEdBQUcsT0FBTyxHQUFxQjtBQUMxRCxTQUFPO0FBQ1Q7QUFFQSxTQUFTLFlBQVksUUFBOEM7QUFDakUsTUFBSSxDQUFDLE1BQU0sTUFBTSxFQUFHLFFBQU87QUFDM0IsTUFBSSxPQUFPLE9BQU8sU0FBUyxTQUFVLFFBQU8sT0FBTztBQUNuRCxTQUFPLE1BQU0sT0FBTyxLQUFLLEtBQUssT0FBTyxPQUFPLE1BQU0sU0FBUyxXQUFXLE9BQU8sTUFBTSxPQUFPO0FBQzVGO0FBRUEsSUFBTSxPQUFPLENBQUMsVUFDWixPQUFPLFVBQVUsWUFBWSxVQUFVLEtBQUssUUFBUTtBQUV0RCxTQUFTLEtBQTBCLEtBQVEsT0FBd0M7QUFDakYsU0FBTyxVQUFVLFNBQVksQ0FBQyxJQUFLLEVBQUUsQ0FBQyxHQUFHLEdBQUcsTUFBTTtBQUNwRDtBQUdPLFNBQVMsTUFBTSxRQUFpQixPQUFxRTtBQUMxRyxRQUFNLEVBQUUsS0FBSyxNQUFNLElBQUk7QUFDdkIsUUFBTSxRQUFRLFVBQVUsU0FBWSxTQUFZLE1BQU0sS0FBSyxFQUFFO0FBQzdELFFBQU0sT0FBTyxNQUFNLEtBQUssS0FBSyxPQUFPLE1BQU0sU0FBUyxXQUFXLE1BQU0sT0FBTztBQUMzRSxNQUFJLENBQUMsTUFBTSxHQUFHLEtBQUssU0FBUyxPQUFXLFFBQU87QUFDOUMsUUFBTSxNQUFNLE1BQU0sR0FBRyxJQUFJLE1BQU0sQ0FBQztBQUNoQyxTQUFPO0FBQUEsSUFDTCxHQUFHLEtBQUssUUFBUSxLQUFLLElBQUksSUFBSSxDQUFDO0FBQUEsSUFDOUIsR0FBRyxLQUFLLGFBQWEsS0FBSyxJQUFJLFNBQVMsQ0FBQztBQUFBLElBQ3hDLEdBQUcsS0FBSyxVQUFVLEtBQUssSUFBSSxNQUFNLENBQUM7QUFBQSxJQUNsQyxHQUFJLElBQUksY0FBYyxRQUFRLEVBQUUsV0FBVyxLQUFLO0FBQUEsSUFDaEQsR0FBSSxJQUFJLFlBQVksUUFBUSxFQUFFLFNBQVMsS0FBSztBQUFBLElBQzVDLEdBQUcsS0FBSyxRQUFRLElBQUk7QUFBQSxFQUN0QjtBQUNGO0FBR08sU0FBUyxVQUFVLFFBQW9DO0FBQzVELE1BQUksT0FBTyxZQUFZLE9BQVcsUUFBTyxPQUFPO0FBQ2hELFNBQU8sTUFBTSxRQUFRLE9BQU8sUUFBUSxJQUFLLE9BQU8sU0FBUyxDQUFDLElBQTBCO0FBQ3RGO0FBRUEsU0FBUyxVQUFVLFFBQStDO0FBQ2hFLE1BQUksT0FBTyxVQUFVLE9BQVcsUUFBTyxDQUFDLE9BQU8sS0FBYztBQUM3RCxRQUFNLE1BQU0sTUFBTSxRQUFRLE9BQU8sSUFBSSxJQUNqQyxPQUFPLE9BQ1AsTUFBTSxPQUFPLEtBQUssS0FBSyxNQUFNLFFBQVEsT0FBTyxNQUFNLElBQUksSUFDcEQsT0FBTyxNQUFNLE9BQ2I7QUFDTixTQUFPO0FBQ1Q7QUFFQSxTQUFTLFNBQVMsUUFBaUIsT0FBcUQ7QUFDdEYsUUFBTSxFQUFFLE1BQU0sUUFBUSxPQUFPLE9BQU8sT0FBTyxZQUFZLFNBQVMsSUFBSTtBQUNwRSxRQUFNLFFBQVEsTUFBTSxRQUFRLElBQUksSUFBSSxLQUFLLElBQUksTUFBTSxJQUFJLE9BQU8sU0FBUyxXQUFXLENBQUMsSUFBSSxJQUFJLENBQUM7QUFDNUYsUUFBTSxlQUFlLE1BQU0sUUFBUSxLQUFLLElBQUksUUFBUSxNQUFNLFFBQVEsS0FBSyxJQUFJLFFBQVE7QUFDbkYsTUFBSSxNQUFNLFdBQVcsS0FBSyxjQUFjO0FBQ3RDLFdBQU8sQ0FBQyxHQUFHLElBQUksSUFBSSxhQUFhLElBQUksQ0FBQyxRQUFjLFNBQVMsTUFBTSxHQUFHLEdBQUcsS0FBSyxDQUFDLENBQUMsQ0FBQyxFQUFFLEtBQUssTUFBTTtBQUFBLEVBQy9GO0FBQ0EsTUFBSSxNQUFNLFdBQVcsRUFBRyxPQUFNLEtBQUssZUFBZSxTQUFhLFVBQVUsU0FBWSxRQUFRLFVBQVcsUUFBUTtBQUNoSCxNQUFJLGFBQWEsUUFBUSxDQUFDLE1BQU0sU0FBUyxNQUFNLEVBQUcsT0FBTSxLQUFLLE1BQU07QUFDbkUsU0FBTyxNQUNKLElBQUksQ0FBQyxRQUFRO0FBQ1osUUFBSSxRQUFRLFFBQVMsUUFBTyxVQUFVLFNBQVksVUFBVSxZQUFZLFNBQVMsTUFBTSxLQUFLLEdBQUcsS0FBSyxDQUFDO0FBQ3JHLFdBQU8sUUFBUSxVQUFVLE9BQU8sV0FBVyxXQUFXLEdBQUcsR0FBRyxLQUFLLE1BQU0sTUFBTTtBQUFBLEVBQy9FLENBQUMsRUFDQSxLQUFLLE1BQU07QUFDaEI7QUFHQSxJQUFNLFlBQVk7QUFBQSxFQUNoQixTQUFTO0FBQUEsRUFDVCxTQUFTO0FBQUEsRUFDVCxrQkFBa0I7QUFBQSxFQUNsQixrQkFBa0I7QUFBQSxFQUNsQixZQUFZO0FBQUEsRUFDWixXQUFXO0FBQUEsRUFDWCxXQUFXO0FBQUEsRUFDWCxVQUFVO0FBQUEsRUFDVixVQUFVO0FBQ1o7QUFFQSxTQUFTLFNBQVMsT0FBb0M7QUFFcEQsUUFBTSxFQUFFLFlBQVksR0FBRyxPQUFPLElBQUksT0FBTyxLQUFLLEdBQUcsSUFBSSxJQUFJO0FBQ3pELFFBQU0sU0FBUyxhQUFhLEdBQUc7QUFDL0IsUUFBTSxTQUFvRCxDQUFDO0FBQzNELGFBQVcsQ0FBQyxLQUFLLElBQUksS0FBSyxPQUFPLFFBQVEsU0FBUyxHQUFHO0FBQ25ELFVBQU0sUUFBUSxPQUFPLEdBQUc7QUFDeEIsUUFBSSxPQUFPLFVBQVUsU0FBVSxRQUFPLElBQUksSUFBSTtBQUFBLEVBQ2hEO0FBQ0EsTUFBSSxPQUFPLE9BQU8sWUFBWSxTQUFVLFFBQU8sVUFBVSxPQUFPO0FBQ2hFLE1BQUksT0FBTyxnQkFBZ0IsS0FBTSxRQUFPLGVBQWUsSUFBSTtBQUMzRCxTQUFPLE9BQU8sS0FBSyxNQUFNLEVBQUUsU0FBUyxJQUFJLFNBQVM7QUFDbkQ7OztBQ2pRTyxTQUFTLGNBQWMsUUFBMEJDLGFBQXdCLElBQXFDO0FBQ25ILE1BQUksQ0FBQyxNQUFNLFFBQVEsTUFBTSxFQUFHLFFBQU8sQ0FBQztBQUVwQyxNQUFJLE9BQU8sS0FBSyxDQUFDLFNBQWUsTUFBTSxJQUFJLEtBQUssT0FBTyxLQUFLLElBQUksRUFBRSxXQUFXLENBQUMsRUFBRyxRQUFPLENBQUM7QUFDeEYsU0FBTyxPQUFPLE9BQU8sS0FBSyxFQUFFLElBQUksQ0FBQyxVQUFVO0FBQUEsSUFDekMsU0FBUyxPQUFPLEtBQUssSUFBSSxFQUFFLElBQUksQ0FBQyxTQUFTO0FBQ3ZDLFlBQU0sU0FBU0EsWUFBVyxPQUFPLEVBQUUsTUFBTSxnQ0FBZ0MsSUFBSSxHQUFHLEdBQUcsRUFBRTtBQUNyRixVQUFJLENBQUMsTUFBTSxNQUFNLEVBQUcsUUFBTyxFQUFFLE1BQU0sT0FBTyxnQkFBZ0I7QUFDMUQsYUFBTztBQUFBLFFBQ0w7QUFBQSxRQUNBLE9BQU8sV0FBVyxNQUFNO0FBQUEsUUFDeEIsR0FBSSxPQUFPLE9BQU8sZ0JBQWdCLFlBQVksRUFBRSxhQUFhLE9BQU8sWUFBWSxLQUFLLEVBQUU7QUFBQSxRQUN2RixHQUFJLE9BQU8sT0FBTyxZQUFZLE9BQU8sT0FBTyxTQUFTLFlBQVksRUFBRSxRQUFRLE9BQU8sS0FBSztBQUFBLE1BQ3pGO0FBQUEsSUFDRixDQUFDO0FBQUEsRUFDSCxFQUFFO0FBQ0o7QUFFQSxTQUFTLFdBQVcsUUFBeUI7QUFDM0MsVUFBUSxPQUFPLE1BQU07QUFBQSxJQUNuQixLQUFLO0FBQ0gsYUFBTyxRQUFRLE9BQU8sT0FBTyxNQUFNLENBQUMsa0JBQWtCLE9BQU8sZUFBZSxLQUFLLE9BQU8sT0FBTyxZQUFZLENBQUMsTUFBTSxFQUFFO0FBQUEsSUFDdEgsS0FBSztBQUNILGFBQU8sZ0JBQWdCLE9BQU8sT0FBTyxFQUFFLENBQUMsSUFBSSxPQUFPLE9BQU8sSUFBSSxDQUFDO0FBQUEsSUFDakUsS0FBSztBQUNILGFBQU8sY0FBYyxPQUFPLEtBQUssTUFBTSxPQUFPLEtBQUssSUFBSSxPQUFPLFFBQVEsQ0FBQyxDQUFDLEVBQUUsS0FBSyxJQUFJLENBQUM7QUFBQSxJQUN0RixLQUFLO0FBQ0gsYUFBTztBQUFBLElBQ1QsS0FBSztBQUNILGFBQU87QUFBQSxJQUNUO0FBQ0UsYUFBTyxPQUFPLE9BQU8sSUFBSTtBQUFBLEVBQzdCO0FBQ0Y7OztBQ1hBLElBQU0sWUFBWSxvQkFBSSxJQUFJLENBQUMsUUFBUSxTQUFTLFVBQVUsUUFBUSxDQUFDO0FBRS9ELElBQU0sYUFBYSxvQkFBSSxJQUFJLENBQUMsVUFBVSxnQkFBZ0IsZUFBZSxDQUFDO0FBRXRFLElBQU0sY0FBYyxvQkFBSSxJQUFJLENBQUMsUUFBUSxRQUFRLENBQUM7QUFjdkMsU0FBUyxrQkFDZCxPQUNBLFFBQ0EsYUFDQSxPQUNXO0FBQ1gsUUFBTSxRQUFRLFdBQVcsV0FBVztBQUNwQyxTQUFPLElBQUksWUFBWSxPQUFPLFFBQVEsT0FBTyxZQUFZLE9BQU8sS0FBSyxDQUFDLEVBQUUsVUFBVTtBQUNwRjtBQUdPLElBQU0sY0FBYyxDQUFDLFVBQzFCLE1BQU0sS0FBSyxLQUFLLE9BQU8sTUFBTSxTQUFTLFlBQVksVUFBVSxJQUFJLE9BQU8sTUFBTSxFQUFFLENBQUM7QUFFbEYsSUFBTSxjQUFOLE1BQWtCO0FBQUEsRUFHaEIsWUFDbUIsT0FDQSxRQUNBQyxhQUNBLFFBQ2pCO0FBSmlCO0FBQ0E7QUFDQSxzQkFBQUE7QUFDQTtBQUVqQixTQUFLLE1BQU0sTUFBTTtBQUFBLEVBQ25CO0FBQUEsRUFObUI7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQU5GO0FBQUEsRUFXakIsWUFBdUI7QUFDckIsVUFBTSxFQUFFLE9BQU8sT0FBTyxJQUFJO0FBQzFCLFVBQU0sRUFBRSxXQUFXLEtBQUssSUFBSSxRQUFRLFNBQVMsSUFBSSxLQUFLO0FBQ3RELFVBQU0sT0FBTyxLQUFLLEtBQUssSUFBSSxhQUFhLE1BQU0sSUFBSSxhQUFhLENBQUM7QUFDaEUsVUFBTSxhQUFhLE9BQU8sUUFBUSxHQUFHLEVBQUUsT0FBTyxDQUFDLENBQUMsR0FBRyxNQUFNLElBQUksV0FBVyxJQUFJLENBQUM7QUFDN0UsVUFBTSxZQUFZLE1BQU0sSUFBSSxTQUFTLElBQUksY0FBYyxJQUFJLFNBQVMsSUFBSSxDQUFDO0FBQ3pFLFdBQU87QUFBQSxNQUNMLElBQUksTUFBTTtBQUFBLE1BQ1Y7QUFBQSxNQUNBLFVBQVU7QUFBQSxNQUNWLE9BQU8sTUFBTTtBQUFBLE1BQ2IsR0FBSSxNQUFNLFlBQVksVUFBYSxFQUFFLFNBQVMsTUFBTSxRQUFRO0FBQUEsTUFDNUQsR0FBSSxPQUFPLElBQUksZ0JBQWdCLFlBQVksRUFBRSxhQUFhLElBQUksWUFBWSxLQUFLLEVBQUU7QUFBQSxNQUNqRixRQUFRLE1BQU07QUFBQSxNQUNkLE1BQU0sTUFBTTtBQUFBLE1BQ1osWUFBWSxJQUFJLGVBQWU7QUFBQSxNQUMvQixTQUFTLENBQUMsWUFBWSxJQUFJLE1BQU0sTUFBTTtBQUFBLE1BQ3RDLEdBQUksVUFBVSxTQUFTLEtBQUssRUFBRSxVQUFVO0FBQUEsTUFDeEMsR0FBSSxXQUFXLFNBQVMsS0FBSyxFQUFFLFlBQVksT0FBTyxZQUFZLFVBQVUsRUFBMkI7QUFBQSxNQUNuRyxHQUFJLE1BQU0sU0FBUyxFQUFFLE9BQU8sTUFBTSxNQUFNO0FBQUEsTUFDeEMsWUFBWSxLQUFLLFdBQVcsUUFBUSxJQUFJLFlBQVksTUFBTSxNQUFNLEVBQUU7QUFBQSxNQUNsRSxHQUFJLFFBQVEsRUFBRSxLQUFLO0FBQUEsTUFDbkIsU0FBUyxLQUFLLFFBQVEsSUFBSSxXQUFXLE1BQU0sSUFBSSxXQUFXLENBQUM7QUFBQSxNQUMzRCxVQUFVLGNBQWMsVUFBVSxLQUFLLFlBQVksRUFBRTtBQUFBLElBQ3ZEO0FBQUEsRUFDRjtBQUFBLEVBRVEsV0FBVyxRQUEwQixLQUF1QixNQUFjLElBQXlCO0FBQ3pHLFVBQU0sUUFBUSxvQkFBSSxJQUF1QjtBQUN6QyxlQUFXLFFBQVEsQ0FBQyxRQUFRLEdBQUcsR0FBRztBQUNoQyxZQUFNLFNBQVMsTUFBTSxJQUFJLFlBQVk7QUFDckMsaUJBQVcsQ0FBQyxPQUFPLEtBQUssTUFBTSxNQUFNLFFBQVEsSUFBSSxJQUFJLE9BQU8sQ0FBQyxHQUFHLFFBQVEsR0FBRztBQUN4RSxjQUFNLFlBQVksS0FBSyxVQUFVLE9BQWUsTUFBTSxRQUFRLEtBQUssQ0FBQztBQUNwRSxZQUFJLFVBQVcsT0FBTSxJQUFJLEdBQUcsVUFBVSxFQUFFLElBQUksVUFBVSxJQUFJLElBQUksU0FBUztBQUFBLE1BQ3pFO0FBQUEsSUFDRjtBQUNBLGVBQVcsQ0FBQyxFQUFFLElBQUksS0FBSyxLQUFLLFNBQVMsY0FBYyxHQUFHO0FBQ3BELFVBQUksU0FBUyxVQUFhLE1BQU0sSUFBSSxRQUFRLElBQUksRUFBRSxFQUFHO0FBQ3JELFlBQU0sSUFBSSxRQUFRLElBQUksSUFBSSxFQUFFLE1BQU0sSUFBSSxRQUFRLE1BQU0sVUFBVSxVQUFVLEtBQUssQ0FBQztBQUFBLElBQ2hGO0FBQ0EsV0FBTyxDQUFDLEdBQUcsTUFBTSxPQUFPLENBQUM7QUFBQSxFQUMzQjtBQUFBLEVBRVEsVUFBVSxPQUFhLElBQW1DO0FBQ2hFLFVBQU0sTUFBTSxLQUFLLFdBQVcsT0FBTyxPQUFPLEVBQUU7QUFDNUMsUUFBSSxRQUFRLE9BQVcsUUFBTztBQUM5QixRQUFJLENBQUMsWUFBWSxHQUFHLEVBQUcsUUFBTztBQUM5QixRQUFJLElBQUksT0FBTyxZQUFZLFdBQVcsSUFBSSxJQUFJLEtBQUssWUFBWSxDQUFDLEVBQUcsUUFBTztBQUMxRSxVQUFNLFVBQVUsTUFBTSxJQUFJLE9BQU8sSUFBSSxPQUFPLE9BQU8sSUFBSSxPQUFPLEVBQUUsQ0FBQyxJQUFJO0FBQ3JFLFVBQU0sU0FBUyxJQUFJLFdBQVcsTUFBTSxPQUFPLElBQUksUUFBUSxTQUFTO0FBQ2hFLFVBQU0sUUFBUSxLQUFLLE9BQU8sTUFBTSxJQUFJLE1BQU0sUUFBUSxJQUFJLGFBQWEsUUFBUSxJQUFJLE9BQU8sUUFBUSxFQUFFO0FBQ2hHLFVBQU0sVUFBVSxJQUFJLFdBQVcsYUFBYSxJQUFJLFFBQVE7QUFDeEQsVUFBTSxZQUFZLE1BQU0sU0FBUyxXQUFXLGNBQWNDLE1BQUssSUFBSSxXQUFXLENBQUMsSUFBSSxDQUFDO0FBQ3BGLFdBQU87QUFBQSxNQUNMLEdBQUc7QUFBQSxNQUNILEdBQUksVUFBVSxTQUFTLEtBQUssRUFBRSxTQUFTLEVBQUUsUUFBUSxDQUFDLEdBQUcsVUFBVSxFQUFFO0FBQUEsTUFDakUsSUFBSSxJQUFJO0FBQUEsTUFDUixHQUFJLE9BQU8sSUFBSSxnQkFBZ0IsWUFBWSxFQUFFLGFBQWEsSUFBSSxZQUFZO0FBQUEsTUFDMUUsR0FBSSxZQUFZLFVBQWEsRUFBRSxRQUEwQjtBQUFBLE1BQ3pELEdBQUksSUFBSSxlQUFlLFFBQVEsRUFBRSxZQUFZLEtBQUs7QUFBQSxNQUNsRCxHQUFJLE1BQU0sS0FBSyxXQUFXLE9BQU8sS0FBSztBQUFBLFFBQ3BDLE9BQU8sSUFBSSxZQUFZLFFBQVMsV0FBc0I7QUFBQSxNQUN4RDtBQUFBLE1BQ0EsR0FBSSxPQUFPLElBQUksVUFBVSxZQUFZLENBQUMsWUFBWSxJQUFJLElBQUksS0FBSyxLQUFLLEVBQUUsT0FBTyxJQUFJLE1BQU07QUFBQSxJQUN6RjtBQUFBLEVBQ0Y7QUFBQSxFQUVRLEtBQUssT0FBeUIsSUFBOEI7QUFDbEUsUUFBSSxVQUFVLE9BQVcsUUFBTztBQUNoQyxVQUFNLE1BQU0sS0FBSyxXQUFXLE9BQU8sT0FBTyxFQUFFO0FBQzVDLFFBQUksQ0FBQyxNQUFNLEdBQUcsS0FBSyxDQUFDLE1BQU0sSUFBSSxPQUFPLEVBQUcsUUFBTztBQUMvQyxVQUFNLFVBQVUsS0FBSyxRQUFRLElBQUksU0FBUyxNQUFNLElBQUksU0FBUyxHQUFHLElBQUk7QUFDcEUsV0FDRSxXQUFXO0FBQUEsTUFDVCxHQUFHO0FBQUEsTUFDSCxVQUFVLElBQUksYUFBYTtBQUFBLE1BQzNCLFlBQVksT0FBTyxLQUFLLElBQUksT0FBTyxFQUFFLE9BQU8sQ0FBQyxTQUFTLFNBQVMsUUFBUSxJQUFJO0FBQUEsSUFDN0U7QUFBQSxFQUVKO0FBQUEsRUFFUSxRQUFRLE9BQXlCLElBQXNCO0FBQzdELFdBQU8sT0FBTyxRQUFRLE1BQU0sS0FBSyxJQUFJLFFBQVEsQ0FBQyxDQUFDLEVBQUUsUUFBUSxDQUFDLENBQUMsUUFBUSxHQUFHLE1BQU07QUFDMUUsWUFBTSxRQUFRLE1BQU0sSUFBSSxNQUFNO0FBQzlCLFlBQU0sTUFBTSxLQUFLLFdBQVcsT0FBTyxLQUFLLEtBQUs7QUFDN0MsVUFBSSxDQUFDLE1BQU0sR0FBRyxFQUFHLFFBQU8sQ0FBQztBQUN6QixZQUFNLFVBQVUsTUFBTSxJQUFJLE9BQU8sSUFBSSxLQUFLLFFBQVEsSUFBSSxTQUFTLE1BQU0sT0FBTyxTQUFTLEdBQUcsS0FBSyxJQUFJO0FBQ2pHLGFBQU87QUFBQSxRQUNMO0FBQUEsVUFDRTtBQUFBLFVBQ0EsR0FBSSxPQUFPLElBQUksZ0JBQWdCLFlBQVksRUFBRSxhQUFhLElBQUksWUFBWTtBQUFBLFVBQzFFLEdBQUksV0FBVyxFQUFFLFFBQVE7QUFBQSxVQUN6QixTQUFTLEtBQUssUUFBUSxJQUFJLFNBQVMsTUFBTSxPQUFPLFNBQVMsQ0FBQztBQUFBLFFBQzVEO0FBQUEsTUFDRjtBQUFBLElBQ0YsQ0FBQztBQUFBLEVBQ0g7QUFBQSxFQUVRLFFBQVEsT0FBeUIsSUFBcUI7QUFDNUQsV0FBTyxPQUFPLFFBQVEsTUFBTSxLQUFLLElBQUksUUFBUSxDQUFDLENBQUMsRUFBRSxRQUFRLENBQUMsQ0FBQyxNQUFNLEdBQUcsTUFBTTtBQUN4RSxZQUFNLE1BQU0sS0FBSyxXQUFXLE9BQU8sS0FBSyxNQUFNLElBQUksSUFBSSxDQUFDO0FBQ3ZELFVBQUksQ0FBQyxNQUFNLEdBQUcsRUFBRyxRQUFPLENBQUM7QUFDekIsWUFBTSxRQUFRLEtBQUssT0FBTyxNQUFNLE1BQU0sSUFBSSxRQUFRLElBQUksYUFBYSxNQUFNLE1BQU0sSUFBSSxJQUFJLENBQUM7QUFDeEYsYUFBTyxDQUFDLE9BQU8sSUFBSSxnQkFBZ0IsV0FBVyxFQUFFLEdBQUcsT0FBTyxhQUFhLElBQUksWUFBWSxJQUFJLEtBQUs7QUFBQSxJQUNsRyxDQUFDO0FBQUEsRUFDSDtBQUFBO0FBQUEsRUFHUSxRQUFRLFNBQWtCLElBQVksUUFBc0M7QUFDbEYsVUFBTSxRQUFRLE9BQU8sS0FBSyxPQUFPO0FBQ2pDLFVBQU0sT0FBTyxNQUFNLEtBQUssQ0FBQyxRQUFRLHFDQUFxQyxLQUFLLEdBQUcsQ0FBQyxLQUFLLE1BQU0sQ0FBQztBQUMzRixRQUFJLFNBQVMsT0FBVyxRQUFPO0FBQy9CLFVBQU0sTUFBTSxRQUFRLElBQUk7QUFDeEIsUUFBSSxDQUFDLE1BQU0sR0FBRyxFQUFHLFFBQU87QUFDeEIsVUFBTSxRQUFRLE1BQU0sTUFBTSxJQUFJLElBQUksR0FBRyxRQUFRO0FBQzdDLFVBQU0sU0FBUyxLQUFLLE9BQU8sT0FBTyxJQUFJLFFBQVEsS0FBSztBQUNuRCxVQUFNLGVBQWUsS0FBSyxPQUFPLGFBQWEsSUFBSSxRQUFRLEtBQUs7QUFDL0QsVUFBTSxTQUFTLEtBQUssV0FBVyxPQUFPLElBQUksUUFBUSxLQUFLO0FBQ3ZELFVBQU0sYUFBYSxJQUFJLFdBQVcsYUFBYSxJQUFJLFFBQVEsTUFBTSxNQUFNLE1BQU0sSUFBSSxVQUFVLE1BQU0sSUFBSTtBQUNyRyxVQUFNLE9BQU8sTUFBTSxNQUFNLEtBQUssT0FBTyxTQUFTO0FBQzlDLFVBQU0sT0FBTyxPQUFPLFdBQVcsSUFBSSxTQUFZLFlBQVksUUFBUSxFQUFFLE9BQU8sQ0FBQztBQUM3RSxVQUFNLE1BQU0sWUFBWSxLQUFLLElBQUksSUFBSSxLQUFLLEtBQUssSUFBSSxRQUFRLE1BQU0sSUFBSTtBQUNyRSxVQUFNLFVBQVUsT0FBTyxTQUFTLFNBQVksV0FBVyxRQUFRLEtBQUssTUFBTSxJQUFJO0FBQzlFLFVBQU0sVUFBVSxjQUFjLFlBQVksUUFBUSxTQUFTLFNBQVksQ0FBQyxJQUFJLElBQUk7QUFDaEYsV0FBTztBQUFBLE1BQ0w7QUFBQSxNQUNBO0FBQUEsTUFDQSxHQUFJLFlBQVksVUFBYSxFQUFFLFFBQTBCO0FBQUEsTUFDekQsbUJBQW1CLGVBQWU7QUFBQSxNQUNsQyxHQUFJLElBQUksV0FBVyxVQUFhLEVBQUUsUUFBUSxJQUFJLE9BQWdCO0FBQUEsTUFDOUQsR0FBSSxnQkFBZ0IsRUFBRSxhQUFhO0FBQUEsTUFDbkMsR0FBSSxPQUFPLEVBQUUsSUFBSTtBQUFBLElBQ25CO0FBQUEsRUFDRjtBQUFBO0FBQUEsRUFHUSxLQUFLLE9BQXlCLFFBQXNDO0FBQzFFLFVBQU0sTUFBTSxNQUFNLE1BQU0sSUFBSSxNQUFNLFFBQVEsT0FBTyxDQUFDLEVBQUUsSUFBSTtBQUN4RCxVQUFNLFlBQVksTUFBTSxLQUFLLEtBQUssT0FBTyxNQUFNLFNBQVMsV0FBVyxNQUFNLEtBQUssUUFBUSxTQUFTLEVBQUUsSUFBSTtBQUNyRyxXQUFPLEVBQUUsR0FBSSxjQUFjLFVBQWEsRUFBRSxNQUFNLFVBQVUsR0FBSSxHQUFHLElBQUk7QUFBQSxFQUN2RTtBQUNGO0FBR0EsU0FBUyxXQUFXLFFBQTBCLEtBQWlCLFFBQXlCO0FBQ3RGLFFBQU0sUUFBUTtBQUFBLElBQ1osRUFBRSxRQUFRLElBQUk7QUFBQSxJQUNkO0FBQUEsTUFDRSxPQUFPLENBQUMsRUFBRSxVQUFVLFVBQVUsTUFBTSxFQUFFLFNBQVMsV0FBVztBQUFBLE1BQzFELE9BQU8sQ0FBQyxVQUFVLFFBQVEsT0FBTyxRQUFRLGFBQWEsS0FBSyxDQUFDLENBQUMsQ0FBQztBQUFBLE1BQzlELFVBQVUsQ0FBQyxRQUFRO0FBQUEsTUFDbkIsU0FBUyxNQUFNLENBQUM7QUFBQSxJQUNsQjtBQUFBLEVBQ0Y7QUFDQSxTQUFPLE1BQU0sS0FBSyxJQUFJO0FBQ3hCO0FBRUEsSUFBTSxVQUFVLENBQUMsVUFBeUIsTUFBTSxRQUFRLEtBQUssSUFBTSxNQUFNLENBQUMsS0FBMkIsS0FBTTtBQUUzRyxJQUFNQSxRQUFPLENBQUMsVUFBaUQsT0FBTyxVQUFVLFdBQVcsUUFBUTtBQUduRyxTQUFTLGFBQWEsVUFBOEM7QUFDbEUsUUFBTSxRQUFRLE1BQU0sUUFBUSxJQUFJLE9BQU8sT0FBTyxRQUFRLEVBQUUsQ0FBQyxJQUFJO0FBQzdELFNBQU8sTUFBTSxLQUFLLElBQUksTUFBTSxRQUFRO0FBQ3RDO0FBR0EsU0FBUyxjQUFjLFdBQThCO0FBQ25ELFNBQU8sT0FBTyxRQUFRLFNBQVMsRUFBRTtBQUFBLElBQVEsQ0FBQyxDQUFDLE1BQU0sR0FBRyxNQUNsRCxNQUFNLEdBQUcsSUFDTCxPQUFPLFFBQVEsR0FBRyxFQUFFO0FBQUEsTUFBUSxDQUFDLENBQUMsU0FBUyxJQUFJLE1BQ3pDLE1BQU0sSUFBSSxJQUNOLE9BQU8sS0FBSyxJQUFJLEVBQ2IsT0FBTyxRQUFRLEVBQ2YsSUFBSSxDQUFDLFdBQVcsR0FBRyxJQUFJLEtBQUssT0FBTyxZQUFZLENBQUMsSUFBSSxPQUFPLEVBQUUsSUFDaEUsQ0FBQztBQUFBLElBQ1AsSUFDQSxDQUFDO0FBQUEsRUFDUDtBQUNGO0FBRUEsSUFBTSxXQUFXLENBQUMsUUFBeUIscURBQXFELEtBQUssR0FBRztBQUdqRyxTQUFTLGdCQUFnQixXQUE2QkQsYUFBd0IsSUFBOEI7QUFDakgsUUFBTSxRQUEwQixDQUFDO0FBQ2pDLGFBQVcsT0FBTyxPQUFPLE9BQU8sTUFBTSxTQUFTLElBQUksWUFBWSxDQUFDLENBQUMsR0FBRztBQUNsRSxVQUFNLFNBQVNBLFlBQVcsT0FBTyxLQUFLLEVBQUU7QUFDeEMsZUFBVyxTQUFTLE9BQU8sT0FBTyxNQUFNLE1BQU0sS0FBSyxNQUFNLE9BQU8sS0FBSyxJQUFJLE9BQU8sUUFBUSxDQUFDLENBQUMsR0FBRztBQUMzRixZQUFNLE9BQU9BLFlBQVcsT0FBTyxPQUFPLEVBQUU7QUFDeEMsVUFBSSxDQUFDLE1BQU0sSUFBSSxLQUFLLE9BQU8sS0FBSyxnQkFBZ0IsWUFBWSxDQUFDLE1BQU0sS0FBSyxVQUFVLEVBQUc7QUFDckYsaUJBQVcsQ0FBQyxXQUFXLElBQUksS0FBSyxPQUFPLFFBQVEsS0FBSyxVQUFVLEdBQUc7QUFDL0QsY0FBTSxRQUFRLDRCQUE0QixLQUFLLE9BQU8sSUFBSSxDQUFDLElBQUksQ0FBQztBQUNoRSxZQUFJLFVBQVU7QUFDWixnQkFBTSxLQUFLO0FBQUEsWUFDVCxXQUFXLEtBQUs7QUFBQSxZQUNoQixXQUFXLFVBQVUsUUFBUSw0QkFBNEIsRUFBRTtBQUFBLFlBQzNELE1BQU0sSUFBSSxNQUFNLFdBQVcsS0FBSyxHQUFHLENBQUM7QUFBQSxVQUN0QyxDQUFDO0FBQUEsTUFDTDtBQUFBLElBQ0Y7QUFBQSxFQUNGO0FBQ0EsU0FBTztBQUNUOyIsCiAgIm5hbWVzIjogWyJyZWZlcmVuY2VzIiwgIm9uZSIsICJyZWZlcmVuY2VzIiwgInJlZmVyZW5jZXMiLCAidGV4dCJdCn0K
