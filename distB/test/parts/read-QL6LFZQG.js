import {
  elementKey,
  typeKey,
  xsd
} from "./chunk-LWESV2NC.js";
import {
  addressOf
} from "./chunk-7DIEYAMQ.js";
import "./chunk-HJ67CAUM.js";
import "./chunk-IQWA53IU.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";

// src/core/documentation/wsdl/dom.ts
import { DOMParser, onErrorStopParsing } from "@xmldom/xmldom";
var parsed = /* @__PURE__ */ new WeakMap();
function rootOf(part) {
  const known = parsed.get(part);
  if (known) return known;
  const { text, file } = part;
  if (/<!ENTITY/i.test(text)) {
    throw new Problem("document-unreadable", {
      what: `${file} declares entities`,
      where: { file, line: text.slice(0, text.search(/<!ENTITY/i)).split("\n").length },
      cause: "entities can multiply a document, or fetch what nobody asked for; none is read",
      remedy: "write their texts in their places"
    });
  }
  let root;
  try {
    root = new DOMParser({ onError: onErrorStopParsing, locator: true }).parseFromString(
      text,
      "text/xml"
    ).documentElement;
  } catch (error) {
    if (error instanceof RangeError) throw error;
    const { message, locator } = error;
    throw new Problem("document-unreadable", {
      what: `${file} is not well-formed XML`,
      where: {
        file,
        ...locator?.lineNumber !== void 0 && { line: locator.lineNumber },
        ...locator?.columnNumber !== void 0 && { column: locator.columnNumber }
      },
      cause: message.replace(/\s+@#\[line[\s\S]*$/, "").split("\n")[0]
    });
  }
  if (!root) throw new Problem("document-unreadable", { what: `${file} has no element`, where: { file } });
  parsed.set(part, root);
  return root;
}
function children(element, namespace, name) {
  const found = [];
  for (let node = element.firstChild; node; node = node.nextSibling) {
    const one = node;
    if (node.nodeType === 1 && one.namespaceURI === namespace && (name === void 0 || one.localName === name))
      found.push(one);
  }
  return found;
}
var child = (element, namespace, name) => children(element, namespace, name)[0];
var attribute = (element, name) => element.getAttribute(name) ?? void 0;
function expanded(element, name) {
  const [first = "", second] = name.trim().split(":");
  const prefix = second === void 0 ? null : first;
  return clark(element.lookupNamespaceURI(prefix) ?? "", second ?? first);
}
var clark = (namespace, local) => `{${namespace}}${local}`;
var localOf = (name) => name.slice(name.indexOf("}") + 1);
var textIn = (element) => {
  const text = element?.textContent?.replace(/\s+/g, " ").trim();
  return text === "" ? void 0 : text;
};

// src/core/documentation/wsdl/xsd.ts
var deepest = 50;
function readSchemas(schemas, warnings) {
  const groups = /* @__PURE__ */ new Map();
  const attributeGroups = /* @__PURE__ */ new Map();
  const globalAttributes = /* @__PURE__ */ new Map();
  const set = { elements: /* @__PURE__ */ new Map(), types: /* @__PURE__ */ new Map() };
  const contexts = schemas.map(({ node, chameleon }) => ({
    node,
    schema: {
      namespace: attribute(node, "targetNamespace") ?? chameleon ?? "",
      qualified: attribute(node, "elementFormDefault") === "qualified",
      qualifiedAttributes: attribute(node, "attributeFormDefault") === "qualified"
    }
  }));
  for (const { node, schema } of contexts) {
    for (const [name, into] of [
      ["group", groups],
      ["attributeGroup", attributeGroups],
      ["attribute", globalAttributes]
    ])
      for (const one of children(node, xsd, name))
        into.set(clark(schema.namespace, attribute(one, "name") ?? ""), { node: one, schema });
  }
  for (const { node, schema } of contexts) {
    for (const one of children(node, xsd, "element"))
      set.elements.set(clark(schema.namespace, attribute(one, "name") ?? ""), element(one, schema, 0, true));
    for (const kind of ["complexType", "simpleType"])
      for (const one of children(node, xsd, kind))
        set.types.set(clark(schema.namespace, attribute(one, "name") ?? ""), type(one, schema, 0));
  }
  return set;
  function element(node, schema, depth, global = false) {
    const least = Number(attribute(node, "minOccurs") ?? 1);
    const most = attribute(node, "maxOccurs") === "unbounded" ? -1 : Number(attribute(node, "maxOccurs") ?? 1);
    const ref = attribute(node, "ref");
    if (ref !== void 0) {
      const name = expanded(node, ref);
      return {
        local: name.slice(name.indexOf("}") + 1),
        namespace: name.slice(1, name.indexOf("}")),
        ref: name,
        least,
        most
      };
    }
    const qualified = global || (attribute(node, "form") ?? (schema.qualified ? "qualified" : "")) === "qualified";
    const named2 = attribute(node, "type");
    const inner = child(node, xsd, "complexType") ?? child(node, xsd, "simpleType");
    return {
      local: attribute(node, "name") ?? "",
      namespace: qualified ? schema.namespace : "",
      ...named2 !== void 0 && { type: expanded(node, named2) },
      ...inner && depth < deepest && { inline: type(inner, schema, depth + 1) },
      least,
      most,
      ...attribute(node, "nillable") === "true" && { nillable: true },
      ...present("default", attribute(node, "default")),
      ...present("fixed", attribute(node, "fixed")),
      ...present("about", aboutOf(node))
    };
  }
  function type(node, schema, depth) {
    const about = present("about", aboutOf(node));
    if (node.localName === "simpleType") return { ...about, ...simple(node, schema, depth) };
    const simpleContent = child(node, xsd, "simpleContent");
    const complexContent = child(node, xsd, "complexContent");
    const holder = simpleContent ?? complexContent;
    const derived = holder && (child(holder, xsd, "extension") ?? child(holder, xsd, "restriction"));
    const from = derived ?? node;
    const content = particleIn(from, schema, depth);
    const attributes = attributesIn(from, schema, depth);
    const base = derived && attribute(derived, "base");
    return {
      ...about,
      simple: false,
      ...derived && base !== void 0 && {
        base: expanded(derived, base),
        derivation: derived.localName === "extension" ? "extension" : "restriction"
      },
      ...content && { content },
      ...attributes.length > 0 && { attributes }
    };
  }
  function simple(node, schema, depth) {
    const restriction = child(node, xsd, "restriction");
    const list = child(node, xsd, "list");
    if (list) {
      const item = attribute(list, "itemType");
      return {
        simple: true,
        derivation: "list",
        base: item === void 0 ? clark(xsd, "string") : expanded(list, item)
      };
    }
    if (!restriction) {
      const members = child(node, xsd, "union");
      const allowed2 = members ? children(members, xsd, "simpleType").flatMap((one) => simple(one, schema, depth + 1).allowed ?? []) : [];
      return { simple: true, derivation: "union", base: clark(xsd, "string"), ...allowed2.length > 0 && { allowed: allowed2 } };
    }
    const base = attribute(restriction, "base");
    const inner = child(restriction, xsd, "simpleType");
    const allowed = children(restriction, xsd, "enumeration").map((one) => attribute(one, "value") ?? "");
    const limits = facets(restriction);
    const nested = inner && depth < deepest ? simple(inner, schema, depth + 1) : void 0;
    return {
      simple: true,
      derivation: "restriction",
      base: base === void 0 ? nested?.base ?? clark(xsd, "string") : expanded(restriction, base),
      ...allowed.length > 0 && { allowed },
      ...Object.keys(limits).length > 0 && { limits }
    };
  }
  function particleIn(node, schema, depth) {
    for (const one of children(node, xsd)) {
      const found = particle(one, schema, depth);
      if (found) return found;
    }
    return void 0;
  }
  function particle(node, schema, depth) {
    if (depth > deepest) return void 0;
    const least = Number(attribute(node, "minOccurs") ?? 1);
    const most = attribute(node, "maxOccurs") === "unbounded" ? -1 : Number(attribute(node, "maxOccurs") ?? 1);
    switch (node.localName) {
      case "element":
        return { is: "element", element: element(node, schema, depth) };
      case "any":
        return { is: "any", least };
      case "sequence":
      case "choice":
      case "all":
        return {
          is: node.localName,
          least,
          most,
          items: children(node, xsd).flatMap((one) => particle(one, schema, depth + 1) ?? [])
        };
      case "group": {
        const ref = attribute(node, "ref");
        const group = ref === void 0 ? void 0 : groups.get(expanded(node, ref));
        if (group) return particleIn(group.node, group.schema, depth + 1);
        if (ref !== void 0) warnings.push({ at: `group ${ref}`, what: "the group is not described" });
        return void 0;
      }
      default:
        return void 0;
    }
  }
  function attributesIn(node, schema, depth) {
    return children(node, xsd).flatMap((one) => {
      if (one.localName === "attributeGroup") {
        const group = attributeGroups.get(expanded(one, attribute(one, "ref") ?? ""));
        return group && depth < deepest ? attributesIn(group.node, group.schema, depth + 1) : [];
      }
      if (one.localName !== "attribute" || attribute(one, "use") === "prohibited") return [];
      const ref = attribute(one, "ref");
      const global = ref === void 0 ? void 0 : globalAttributes.get(expanded(one, ref));
      const described = global?.node ?? one;
      const named2 = attribute(described, "type");
      const inner = child(described, xsd, "simpleType");
      const qualified = global !== void 0 || (attribute(one, "form") ?? (schema.qualifiedAttributes ? "qualified" : "")) === "qualified";
      return [
        {
          name: attribute(described, "name") ?? ref ?? "",
          ...qualified && { namespace: (global?.schema ?? schema).namespace },
          ...named2 !== void 0 && { type: expanded(described, named2) },
          ...inner && { inline: simple(inner, schema, depth + 1) },
          required: attribute(one, "use") === "required",
          ...present("default", attribute(one, "default")),
          ...present("fixed", attribute(one, "fixed")),
          ...present("about", aboutOf(described))
        }
      ];
    });
  }
}
function aboutOf(node) {
  const annotation = child(node, xsd, "annotation");
  return annotation && textIn(child(annotation, xsd, "documentation"));
}
function present(key, value) {
  return value === void 0 ? {} : { [key]: value };
}
var facetNames = {
  minInclusive: "at-least",
  maxInclusive: "at-most",
  minExclusive: "over",
  maxExclusive: "under",
  minLength: "least-length",
  maxLength: "most-length"
};
function facets(restriction) {
  const limits = {};
  for (const [facet, name] of Object.entries(facetNames)) {
    const value = Number(attributeOf(restriction, facet));
    if (attributeOf(restriction, facet) !== void 0 && !Number.isNaN(value)) limits[name] = value;
  }
  const length = attributeOf(restriction, "length");
  if (length !== void 0) limits["least-length"] = limits["most-length"] = Number(length);
  const pattern = attributeOf(restriction, "pattern");
  if (pattern !== void 0) limits.matches = `^(?:${pattern})$`;
  return limits;
}
var attributeOf = (restriction, facet) => {
  const node = child(restriction, xsd, facet);
  return node && attribute(node, "value");
};

// src/core/documentation/wsdl/read.ts
var wsdl = "http://schemas.xmlsoap.org/wsdl/";
var soapVersions = {
  "http://schemas.xmlsoap.org/wsdl/soap/": "1.1",
  "http://schemas.xmlsoap.org/wsdl/soap12/": "1.2"
};
function xmlReferences(part) {
  const root = rootOf(part);
  const schemas = root.namespaceURI === xsd ? [root] : schemasIn(root);
  const locations = [
    ...children(root, wsdl, "import").map((one) => attribute(one, "location")),
    ...schemas.flatMap(
      (schema) => ["import", "include", "redefine"].flatMap(
        (name) => children(schema, xsd, name).map((one) => attribute(one, "schemaLocation"))
      )
    )
  ];
  return [...new Set(locations.filter((one) => one !== void 0))];
}
var schemasIn = (definitions) => children(definitions, wsdl, "types").flatMap((types) => children(types, xsd, "schema"));
function readWsdl(documents, source) {
  const reading = new Reading(documents);
  const root = rootOf(documents.main);
  if (root.namespaceURI !== wsdl) {
    throw new Problem("document-unreadable", {
      what: `${documents.main.file} is an XML Schema, and describes no operation`,
      remedy: "add the WSDL that imports it"
    });
  }
  const operations = reading.operations();
  const { warnings, schemas } = reading;
  if (operations.length === 0) warnings.push({ at: "definitions", what: "the document describes no SOAP operation" });
  const definitions = /* @__PURE__ */ new Map();
  const types = /* @__PURE__ */ new Map();
  for (const [name, type] of schemas.types) {
    definitions.set(typeKey(name), type);
    types.set(localOf(name), typeKey(name));
  }
  for (const [name, element] of schemas.elements) definitions.set(elementKey(name), element);
  return {
    format: "WSDL",
    version: "1.1",
    title: textIn(child(root, wsdl, "documentation")) ?? attribute(root, "name") ?? source,
    servers: [...new Set(operations.map(({ own }) => own.address))].map((url) => ({
      url,
      variables: []
    })),
    operations,
    definitions,
    types,
    webhooks: [],
    warnings
  };
}
var Reading = class {
  warnings = [];
  schemas;
  roots;
  messages;
  constructor(documents) {
    const parts = [...documents.parts.values()].filter(({ notation }) => notation === "xml");
    const read = parts.map((part) => ({ part, root: rootOf(part) }));
    this.roots = read.map(({ root }) => root).filter((root) => root.namespaceURI === wsdl);
    this.demandParts(documents);
    const chameleons = chameleonsOf(read);
    const schemas = read.flatMap(
      ({ part, root }) => root.namespaceURI === xsd ? [{ node: root, chameleon: chameleons.get(part.uri) }] : schemasIn(root).map((node) => ({ node }))
    );
    this.schemas = readSchemas(schemas, this.warnings);
    this.messages = new Map(
      this.all("message").map((message) => [
        this.nameOf(message),
        children(message, wsdl, "part").map((part) => {
          const [element, type] = [attribute(part, "element"), attribute(part, "type")];
          return {
            name: attribute(part, "name") ?? "",
            ...element !== void 0 && { element: expanded(part, element) },
            ...type !== void 0 && { type: expanded(part, type) }
          };
        })
      ])
    );
  }
  demandParts({ parts }) {
    for (const part of parts.values()) {
      if (part.notation !== "xml") continue;
      for (const reference of xmlReferences(part)) {
        const address = addressOf(reference, part.uri);
        if (address === void 0 || !parts.has(address))
          this.warnings.push({ at: part.file, what: `${reference} was not read; what it describes is missing` });
      }
    }
  }
  all(name) {
    return this.roots.flatMap((root) => children(root, wsdl, name));
  }
  nameOf(node) {
    const root = node.parentNode;
    return clark(attribute(root, "targetNamespace") ?? "", attribute(node, "name") ?? "");
  }
  operations() {
    const bindings = new Map(this.all("binding").map((one) => [this.nameOf(one), one]));
    const portTypes = new Map(this.all("portType").map((one) => [this.nameOf(one), one]));
    const found = this.all("service").flatMap(
      (service) => children(service, wsdl, "port").flatMap((port) => {
        const binding = bindings.get(expanded(port, attribute(port, "binding") ?? ""));
        const at = `service ${attribute(service, "name")}, port ${attribute(port, "name")}`;
        if (!binding) {
          this.warnings.push({ at, what: `the binding ${attribute(port, "binding")} is not described` });
          return [];
        }
        const portType = portTypes.get(expanded(binding, attribute(binding, "type") ?? ""));
        if (!portType) {
          this.warnings.push({ at, what: `the port type ${attribute(binding, "type")} is not described` });
          return [];
        }
        return this.portOperations(service, port, binding, portType, at);
      })
    );
    return named(found);
  }
  portOperations(service, port, binding, portType, at) {
    const [namespace, version] = Object.entries(soapVersions).find(([one]) => child(binding, one, "binding")) ?? [];
    if (namespace === void 0 || version === void 0) {
      this.warnings.push({ at, what: "the binding is not one of SOAP" });
      return [];
    }
    const style = attribute(child(binding, namespace, "binding"), "style") ?? "document";
    const address = child(port, namespace, "address");
    return children(portType, wsdl, "operation").flatMap((operation) => {
      const name = attribute(operation, "name") ?? "";
      const bound = children(binding, wsdl, "operation").find((one) => attribute(one, "name") === name);
      const soap = bound && child(bound, namespace, "operation");
      const input = child(operation, wsdl, "input");
      if (!bound || !input) {
        this.warnings.push({
          at: `${at}, operation ${name}`,
          what: bound ? "the operation takes nothing" : "the binding leaves the operation out"
        });
        return [];
      }
      const output = child(operation, wsdl, "output");
      const inputBody = soapBody(child(bound, wsdl, "input"), namespace);
      const about = textIn(child(operation, wsdl, "documentation"));
      return [
        {
          service: attribute(service, "name") ?? "",
          port: attribute(port, "name") ?? "",
          operation: name,
          version,
          style: (soap && attribute(soap, "style")) === "rpc" || style === "rpc" && (soap && attribute(soap, "style")) !== "document" ? "rpc" : "document",
          use: inputBody && attribute(inputBody, "use") === "encoded" ? "encoded" : "literal",
          action: (soap && attribute(soap, "soapAction")) ?? "",
          address: (address && attribute(address, "location")) ?? "",
          ...about !== void 0 && { about },
          namespace: (inputBody && attribute(inputBody, "namespace")) ?? "",
          input: this.message(input, child(bound, wsdl, "input"), namespace),
          ...output && { output: this.message(output, child(bound, wsdl, "output"), namespace) },
          faults: children(operation, wsdl, "fault").map((fault) => ({
            name: attribute(fault, "name") ?? "",
            parts: this.partsOf(fault, attribute(fault, "message") ?? "")
          }))
        }
      ];
    });
  }
  partsOf(node, message) {
    const parts = this.messages.get(expanded(node, message));
    if (!parts) this.warnings.push({ at: `message ${message}`, what: "the message is not described" });
    return parts ?? [];
  }
  /** Parts that the binding sends as headers are not in the body. */
  message(abstract, bound, namespace) {
    const all = this.partsOf(abstract, attribute(abstract, "message") ?? "");
    const body = soapBody(bound, namespace);
    const listed = body && attribute(body, "parts")?.split(/\s+/);
    const headers = (bound ? children(bound, namespace, "header") : []).flatMap(
      (header) => this.partsOf(header, attribute(header, "message") ?? "").filter(({ name }) => name === attribute(header, "part"))
    );
    const own = all.filter(
      ({ name }) => listed ? listed.includes(name) : !headers.some((header) => header.name === name && all.includes(header))
    );
    return { parts: own, headers };
  }
};
var soapBody = (bound, namespace) => bound && child(bound, namespace, "body");
function chameleonsOf(read) {
  const found = /* @__PURE__ */ new Map();
  for (const { part, root } of read) {
    for (const schema of root.namespaceURI === xsd ? [root] : schemasIn(root)) {
      for (const include of children(schema, xsd, "include")) {
        const address = addressOf(attribute(include, "schemaLocation") ?? "", part.uri);
        const namespace = attribute(schema, "targetNamespace");
        if (address !== void 0 && namespace !== void 0) found.set(address, namespace);
      }
    }
  }
  return found;
}
function named(operations) {
  const count = /* @__PURE__ */ new Map();
  for (const { operation } of operations) count.set(operation, (count.get(operation) ?? 0) + 1);
  const taken = /* @__PURE__ */ new Set();
  return operations.map((own) => {
    const base = count.get(own.operation) === 1 ? own.operation : `${own.port}.${own.operation}`;
    let id = base;
    for (let again = 2; taken.has(id); again += 1) id = `${base}-${again}`;
    taken.add(id);
    return {
      id,
      group: own.service,
      ...own.about !== void 0 && { summary: own.about.split(/(?<=\.)\s/)[0] ?? own.about },
      method: `SOAP ${own.version}`,
      path: own.operation,
      own
    };
  });
}
export {
  readWsdl,
  xmlReferences
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi93c2RsL2RvbS50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9kb2N1bWVudGF0aW9uL3dzZGwveHNkLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2RvY3VtZW50YXRpb24vd3NkbC9yZWFkLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogWE1MIGRvY3VtZW50cyBhcyBlbGVtZW50cy4gRW50aXRpZXMgYXJlIG5ldmVyIGV4cGFuZGVkLCBhbmQgYSBkb2N1bWVudCB0aGF0IGRlY2xhcmVzIGFueSBpcyByZWZ1c2VkLiAqL1xuaW1wb3J0IHsgRE9NUGFyc2VyLCB0eXBlIEVsZW1lbnQsIG9uRXJyb3JTdG9wUGFyc2luZyB9IGZyb20gJ0B4bWxkb20veG1sZG9tJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHR5cGUgeyBQYXJ0IH0gZnJvbSAnLi4vZG9jdW1lbnRzLmpzJztcblxuZXhwb3J0IHR5cGUgeyBFbGVtZW50IH07XG5cbmNvbnN0IHBhcnNlZCA9IG5ldyBXZWFrTWFwPFBhcnQsIEVsZW1lbnQ+KCk7XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gZG9jdW1lbnQtdW5yZWFkYWJsZSAqL1xuZXhwb3J0IGZ1bmN0aW9uIHJvb3RPZihwYXJ0OiBQYXJ0KTogRWxlbWVudCB7XG4gIGNvbnN0IGtub3duID0gcGFyc2VkLmdldChwYXJ0KTtcbiAgaWYgKGtub3duKSByZXR1cm4ga25vd247XG4gIGNvbnN0IHsgdGV4dCwgZmlsZSB9ID0gcGFydDtcbiAgaWYgKC88IUVOVElUWS9pLnRlc3QodGV4dCkpIHtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgnZG9jdW1lbnQtdW5yZWFkYWJsZScsIHtcbiAgICAgIHdoYXQ6IGAke2ZpbGV9IGRlY2xhcmVzIGVudGl0aWVzYCxcbiAgICAgIHdoZXJlOiB7IGZpbGUsIGxpbmU6IHRleHQuc2xpY2UoMCwgdGV4dC5zZWFyY2goLzwhRU5USVRZL2kpKS5zcGxpdCgnXFxuJykubGVuZ3RoIH0sXG4gICAgICBjYXVzZTogJ2VudGl0aWVzIGNhbiBtdWx0aXBseSBhIGRvY3VtZW50LCBvciBmZXRjaCB3aGF0IG5vYm9keSBhc2tlZCBmb3I7IG5vbmUgaXMgcmVhZCcsXG4gICAgICByZW1lZHk6ICd3cml0ZSB0aGVpciB0ZXh0cyBpbiB0aGVpciBwbGFjZXMnLFxuICAgIH0pO1xuICB9XG4gIGxldCByb290OiBFbGVtZW50IHwgbnVsbDtcbiAgdHJ5IHtcbiAgICByb290ID0gbmV3IERPTVBhcnNlcih7IG9uRXJyb3I6IG9uRXJyb3JTdG9wUGFyc2luZywgbG9jYXRvcjogdHJ1ZSB9KS5wYXJzZUZyb21TdHJpbmcoXG4gICAgICB0ZXh0LFxuICAgICAgJ3RleHQveG1sJyxcbiAgICApLmRvY3VtZW50RWxlbWVudDtcbiAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICBpZiAoZXJyb3IgaW5zdGFuY2VvZiBSYW5nZUVycm9yKSB0aHJvdyBlcnJvcjtcbiAgICBjb25zdCB7IG1lc3NhZ2UsIGxvY2F0b3IgfSA9IGVycm9yIGFzIEVycm9yICYgeyBsb2NhdG9yPzogeyBsaW5lTnVtYmVyPzogbnVtYmVyOyBjb2x1bW5OdW1iZXI/OiBudW1iZXIgfSB9O1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCdkb2N1bWVudC11bnJlYWRhYmxlJywge1xuICAgICAgd2hhdDogYCR7ZmlsZX0gaXMgbm90IHdlbGwtZm9ybWVkIFhNTGAsXG4gICAgICB3aGVyZToge1xuICAgICAgICBmaWxlLFxuICAgICAgICAuLi4obG9jYXRvcj8ubGluZU51bWJlciAhPT0gdW5kZWZpbmVkICYmIHsgbGluZTogbG9jYXRvci5saW5lTnVtYmVyIH0pLFxuICAgICAgICAuLi4obG9jYXRvcj8uY29sdW1uTnVtYmVyICE9PSB1bmRlZmluZWQgJiYgeyBjb2x1bW46IGxvY2F0b3IuY29sdW1uTnVtYmVyIH0pLFxuICAgICAgfSxcbiAgICAgIGNhdXNlOiBtZXNzYWdlLnJlcGxhY2UoL1xccytAI1xcW2xpbmVbXFxzXFxTXSokLywgJycpLnNwbGl0KCdcXG4nKVswXSxcbiAgICB9KTtcbiAgfVxuICBpZiAoIXJvb3QpIHRocm93IG5ldyBQcm9ibGVtKCdkb2N1bWVudC11bnJlYWRhYmxlJywgeyB3aGF0OiBgJHtmaWxlfSBoYXMgbm8gZWxlbWVudGAsIHdoZXJlOiB7IGZpbGUgfSB9KTtcbiAgcGFyc2VkLnNldChwYXJ0LCByb290KTtcbiAgcmV0dXJuIHJvb3Q7XG59XG5cbi8qKiBUaGUgZWxlbWVudHMgZGlyZWN0bHkgYmVsb3cuICovXG5leHBvcnQgZnVuY3Rpb24gY2hpbGRyZW4oZWxlbWVudDogRWxlbWVudCwgbmFtZXNwYWNlOiBzdHJpbmcsIG5hbWU/OiBzdHJpbmcpOiBFbGVtZW50W10ge1xuICBjb25zdCBmb3VuZDogRWxlbWVudFtdID0gW107XG4gIGZvciAobGV0IG5vZGUgPSBlbGVtZW50LmZpcnN0Q2hpbGQ7IG5vZGU7IG5vZGUgPSBub2RlLm5leHRTaWJsaW5nKSB7XG4gICAgY29uc3Qgb25lID0gbm9kZSBhcyBFbGVtZW50O1xuICAgIGlmIChub2RlLm5vZGVUeXBlID09PSAxICYmIG9uZS5uYW1lc3BhY2VVUkkgPT09IG5hbWVzcGFjZSAmJiAobmFtZSA9PT0gdW5kZWZpbmVkIHx8IG9uZS5sb2NhbE5hbWUgPT09IG5hbWUpKVxuICAgICAgZm91bmQucHVzaChvbmUpO1xuICB9XG4gIHJldHVybiBmb3VuZDtcbn1cblxuZXhwb3J0IGNvbnN0IGNoaWxkID0gKGVsZW1lbnQ6IEVsZW1lbnQsIG5hbWVzcGFjZTogc3RyaW5nLCBuYW1lOiBzdHJpbmcpOiBFbGVtZW50IHwgdW5kZWZpbmVkID0+XG4gIGNoaWxkcmVuKGVsZW1lbnQsIG5hbWVzcGFjZSwgbmFtZSlbMF07XG5cbmV4cG9ydCBjb25zdCBhdHRyaWJ1dGUgPSAoZWxlbWVudDogRWxlbWVudCwgbmFtZTogc3RyaW5nKTogc3RyaW5nIHwgdW5kZWZpbmVkID0+XG4gIGVsZW1lbnQuZ2V0QXR0cmlidXRlKG5hbWUpID8/IHVuZGVmaW5lZDtcblxuLyoqIGB7bmFtZXNwYWNlfWxvY2FsYCBvZiBhIG5hbWUgd2l0aCBhIHByZWZpeCwgYXMgaXQgc3RhbmRzIGluIGFuIGF0dHJpYnV0ZS4gKi9cbmV4cG9ydCBmdW5jdGlvbiBleHBhbmRlZChlbGVtZW50OiBFbGVtZW50LCBuYW1lOiBzdHJpbmcpOiBzdHJpbmcge1xuICBjb25zdCBbZmlyc3QgPSAnJywgc2Vjb25kXSA9IG5hbWUudHJpbSgpLnNwbGl0KCc6Jyk7XG4gIGNvbnN0IHByZWZpeCA9IHNlY29uZCA9PT0gdW5kZWZpbmVkID8gbnVsbCA6IGZpcnN0O1xuICByZXR1cm4gY2xhcmsoZWxlbWVudC5sb29rdXBOYW1lc3BhY2VVUkkocHJlZml4KSA/PyAnJywgc2Vjb25kID8/IGZpcnN0KTtcbn1cblxuZXhwb3J0IGNvbnN0IGNsYXJrID0gKG5hbWVzcGFjZTogc3RyaW5nLCBsb2NhbDogc3RyaW5nKTogc3RyaW5nID0+IGB7JHtuYW1lc3BhY2V9fSR7bG9jYWx9YDtcblxuZXhwb3J0IGNvbnN0IGxvY2FsT2YgPSAobmFtZTogc3RyaW5nKTogc3RyaW5nID0+IG5hbWUuc2xpY2UobmFtZS5pbmRleE9mKCd9JykgKyAxKTtcblxuLyoqIEl0cyB0ZXh0LCB3aGl0ZSBzcGFjZSBmb2xkZWQuICovXG5leHBvcnQgY29uc3QgdGV4dEluID0gKGVsZW1lbnQ6IEVsZW1lbnQgfCB1bmRlZmluZWQpOiBzdHJpbmcgfCB1bmRlZmluZWQgPT4ge1xuICBjb25zdCB0ZXh0ID0gZWxlbWVudD8udGV4dENvbnRlbnQ/LnJlcGxhY2UoL1xccysvZywgJyAnKS50cmltKCk7XG4gIHJldHVybiB0ZXh0ID09PSAnJyA/IHVuZGVmaW5lZCA6IHRleHQ7XG59O1xuIiwgIi8qKiBYTUwgU2NoZW1hIDEuMCAoc3RydWN0dXJlcyBhbmQgZGF0YXR5cGVzKTogZnJvbSBpdHMgZWxlbWVudHMgdG8gcGxhaW4gZGF0YS4gKi9cbmltcG9ydCB0eXBlIHsgTGltaXRzLCBXYXJuaW5nIH0gZnJvbSAnLi4vbW9kZWwuanMnO1xuaW1wb3J0IHsgYXR0cmlidXRlLCBjaGlsZCwgY2hpbGRyZW4sIGNsYXJrLCB0eXBlIEVsZW1lbnQsIGV4cGFuZGVkLCB0ZXh0SW4gfSBmcm9tICcuL2RvbS5qcyc7XG5pbXBvcnQgeyB0eXBlIENsYXJrTmFtZSwgdHlwZSBQYXJ0aWNsZSwgdHlwZSBYc2RBdHRyaWJ1dGUsIHR5cGUgWHNkRWxlbWVudCwgdHlwZSBYc2RUeXBlLCB4c2QgfSBmcm9tICcuL21vZGVsLmpzJztcblxuZXhwb3J0IGludGVyZmFjZSBTY2hlbWFTZXQge1xuICByZWFkb25seSBlbGVtZW50czogTWFwPENsYXJrTmFtZSwgWHNkRWxlbWVudD47XG4gIHJlYWRvbmx5IHR5cGVzOiBNYXA8Q2xhcmtOYW1lLCBYc2RUeXBlPjtcbn1cblxuaW50ZXJmYWNlIEdsb2JhbCB7XG4gIHJlYWRvbmx5IG5vZGU6IEVsZW1lbnQ7XG4gIHJlYWRvbmx5IHNjaGVtYTogU2NoZW1hQ29udGV4dDtcbn1cblxuaW50ZXJmYWNlIFNjaGVtYUNvbnRleHQge1xuICByZWFkb25seSBuYW1lc3BhY2U6IHN0cmluZztcbiAgcmVhZG9ubHkgcXVhbGlmaWVkOiBib29sZWFuO1xuICByZWFkb25seSBxdWFsaWZpZWRBdHRyaWJ1dGVzOiBib29sZWFuO1xufVxuXG5jb25zdCBkZWVwZXN0ID0gNTA7XG5cbi8qKiBAcGFyYW0gc2NoZW1hcyBgeHNkOnNjaGVtYWAgZWxlbWVudHM7IGBjaGFtZWxlb25gIGlzIHRoZSBuYW1lc3BhY2Ugb2YgYW4gaW5jbHVkZWQgc2NoZW1hIHRoYXQgaGFzIG5vbmUgb2YgaXRzIG93biAqL1xuZXhwb3J0IGZ1bmN0aW9uIHJlYWRTY2hlbWFzKFxuICBzY2hlbWFzOiByZWFkb25seSB7IHJlYWRvbmx5IG5vZGU6IEVsZW1lbnQ7IHJlYWRvbmx5IGNoYW1lbGVvbj86IHN0cmluZyB8IHVuZGVmaW5lZCB9W10sXG4gIHdhcm5pbmdzOiBXYXJuaW5nW10sXG4pOiBTY2hlbWFTZXQge1xuICBjb25zdCBncm91cHMgPSBuZXcgTWFwPENsYXJrTmFtZSwgR2xvYmFsPigpO1xuICBjb25zdCBhdHRyaWJ1dGVHcm91cHMgPSBuZXcgTWFwPENsYXJrTmFtZSwgR2xvYmFsPigpO1xuICBjb25zdCBnbG9iYWxBdHRyaWJ1dGVzID0gbmV3IE1hcDxDbGFya05hbWUsIEdsb2JhbD4oKTtcbiAgY29uc3Qgc2V0OiBTY2hlbWFTZXQgPSB7IGVsZW1lbnRzOiBuZXcgTWFwKCksIHR5cGVzOiBuZXcgTWFwKCkgfTtcbiAgY29uc3QgY29udGV4dHMgPSBzY2hlbWFzLm1hcCgoeyBub2RlLCBjaGFtZWxlb24gfSkgPT4gKHtcbiAgICBub2RlLFxuICAgIHNjaGVtYToge1xuICAgICAgbmFtZXNwYWNlOiBhdHRyaWJ1dGUobm9kZSwgJ3RhcmdldE5hbWVzcGFjZScpID8/IGNoYW1lbGVvbiA/PyAnJyxcbiAgICAgIHF1YWxpZmllZDogYXR0cmlidXRlKG5vZGUsICdlbGVtZW50Rm9ybURlZmF1bHQnKSA9PT0gJ3F1YWxpZmllZCcsXG4gICAgICBxdWFsaWZpZWRBdHRyaWJ1dGVzOiBhdHRyaWJ1dGUobm9kZSwgJ2F0dHJpYnV0ZUZvcm1EZWZhdWx0JykgPT09ICdxdWFsaWZpZWQnLFxuICAgIH0sXG4gIH0pKTtcbiAgZm9yIChjb25zdCB7IG5vZGUsIHNjaGVtYSB9IG9mIGNvbnRleHRzKSB7XG4gICAgZm9yIChjb25zdCBbbmFtZSwgaW50b10gb2YgW1xuICAgICAgWydncm91cCcsIGdyb3Vwc10sXG4gICAgICBbJ2F0dHJpYnV0ZUdyb3VwJywgYXR0cmlidXRlR3JvdXBzXSxcbiAgICAgIFsnYXR0cmlidXRlJywgZ2xvYmFsQXR0cmlidXRlc10sXG4gICAgXSBhcyBjb25zdClcbiAgICAgIGZvciAoY29uc3Qgb25lIG9mIGNoaWxkcmVuKG5vZGUsIHhzZCwgbmFtZSkpXG4gICAgICAgIGludG8uc2V0KGNsYXJrKHNjaGVtYS5uYW1lc3BhY2UsIGF0dHJpYnV0ZShvbmUsICduYW1lJykgPz8gJycpLCB7IG5vZGU6IG9uZSwgc2NoZW1hIH0pO1xuICB9XG4gIGZvciAoY29uc3QgeyBub2RlLCBzY2hlbWEgfSBvZiBjb250ZXh0cykge1xuICAgIGZvciAoY29uc3Qgb25lIG9mIGNoaWxkcmVuKG5vZGUsIHhzZCwgJ2VsZW1lbnQnKSlcbiAgICAgIHNldC5lbGVtZW50cy5zZXQoY2xhcmsoc2NoZW1hLm5hbWVzcGFjZSwgYXR0cmlidXRlKG9uZSwgJ25hbWUnKSA/PyAnJyksIGVsZW1lbnQob25lLCBzY2hlbWEsIDAsIHRydWUpKTtcbiAgICBmb3IgKGNvbnN0IGtpbmQgb2YgWydjb21wbGV4VHlwZScsICdzaW1wbGVUeXBlJ10pXG4gICAgICBmb3IgKGNvbnN0IG9uZSBvZiBjaGlsZHJlbihub2RlLCB4c2QsIGtpbmQpKVxuICAgICAgICBzZXQudHlwZXMuc2V0KGNsYXJrKHNjaGVtYS5uYW1lc3BhY2UsIGF0dHJpYnV0ZShvbmUsICduYW1lJykgPz8gJycpLCB0eXBlKG9uZSwgc2NoZW1hLCAwKSk7XG4gIH1cbiAgcmV0dXJuIHNldDtcblxuICBmdW5jdGlvbiBlbGVtZW50KG5vZGU6IEVsZW1lbnQsIHNjaGVtYTogU2NoZW1hQ29udGV4dCwgZGVwdGg6IG51bWJlciwgZ2xvYmFsID0gZmFsc2UpOiBYc2RFbGVtZW50IHtcbiAgICBjb25zdCBsZWFzdCA9IE51bWJlcihhdHRyaWJ1dGUobm9kZSwgJ21pbk9jY3VycycpID8/IDEpO1xuICAgIGNvbnN0IG1vc3QgPSBhdHRyaWJ1dGUobm9kZSwgJ21heE9jY3VycycpID09PSAndW5ib3VuZGVkJyA/IC0xIDogTnVtYmVyKGF0dHJpYnV0ZShub2RlLCAnbWF4T2NjdXJzJykgPz8gMSk7XG4gICAgY29uc3QgcmVmID0gYXR0cmlidXRlKG5vZGUsICdyZWYnKTtcbiAgICBpZiAocmVmICE9PSB1bmRlZmluZWQpIHtcbiAgICAgIGNvbnN0IG5hbWUgPSBleHBhbmRlZChub2RlLCByZWYpO1xuICAgICAgcmV0dXJuIHtcbiAgICAgICAgbG9jYWw6IG5hbWUuc2xpY2UobmFtZS5pbmRleE9mKCd9JykgKyAxKSxcbiAgICAgICAgbmFtZXNwYWNlOiBuYW1lLnNsaWNlKDEsIG5hbWUuaW5kZXhPZignfScpKSxcbiAgICAgICAgcmVmOiBuYW1lLFxuICAgICAgICBsZWFzdCxcbiAgICAgICAgbW9zdCxcbiAgICAgIH07XG4gICAgfVxuICAgIGNvbnN0IHF1YWxpZmllZCA9IGdsb2JhbCB8fCAoYXR0cmlidXRlKG5vZGUsICdmb3JtJykgPz8gKHNjaGVtYS5xdWFsaWZpZWQgPyAncXVhbGlmaWVkJyA6ICcnKSkgPT09ICdxdWFsaWZpZWQnO1xuICAgIGNvbnN0IG5hbWVkID0gYXR0cmlidXRlKG5vZGUsICd0eXBlJyk7XG4gICAgY29uc3QgaW5uZXIgPSBjaGlsZChub2RlLCB4c2QsICdjb21wbGV4VHlwZScpID8/IGNoaWxkKG5vZGUsIHhzZCwgJ3NpbXBsZVR5cGUnKTtcbiAgICByZXR1cm4ge1xuICAgICAgbG9jYWw6IGF0dHJpYnV0ZShub2RlLCAnbmFtZScpID8/ICcnLFxuICAgICAgbmFtZXNwYWNlOiBxdWFsaWZpZWQgPyBzY2hlbWEubmFtZXNwYWNlIDogJycsXG4gICAgICAuLi4obmFtZWQgIT09IHVuZGVmaW5lZCAmJiB7IHR5cGU6IGV4cGFuZGVkKG5vZGUsIG5hbWVkKSB9KSxcbiAgICAgIC4uLihpbm5lciAmJiBkZXB0aCA8IGRlZXBlc3QgJiYgeyBpbmxpbmU6IHR5cGUoaW5uZXIsIHNjaGVtYSwgZGVwdGggKyAxKSB9KSxcbiAgICAgIGxlYXN0LFxuICAgICAgbW9zdCxcbiAgICAgIC4uLihhdHRyaWJ1dGUobm9kZSwgJ25pbGxhYmxlJykgPT09ICd0cnVlJyAmJiB7IG5pbGxhYmxlOiB0cnVlIGFzIGNvbnN0IH0pLFxuICAgICAgLi4ucHJlc2VudCgnZGVmYXVsdCcsIGF0dHJpYnV0ZShub2RlLCAnZGVmYXVsdCcpKSxcbiAgICAgIC4uLnByZXNlbnQoJ2ZpeGVkJywgYXR0cmlidXRlKG5vZGUsICdmaXhlZCcpKSxcbiAgICAgIC4uLnByZXNlbnQoJ2Fib3V0JywgYWJvdXRPZihub2RlKSksXG4gICAgfTtcbiAgfVxuXG4gIGZ1bmN0aW9uIHR5cGUobm9kZTogRWxlbWVudCwgc2NoZW1hOiBTY2hlbWFDb250ZXh0LCBkZXB0aDogbnVtYmVyKTogWHNkVHlwZSB7XG4gICAgY29uc3QgYWJvdXQgPSBwcmVzZW50KCdhYm91dCcsIGFib3V0T2Yobm9kZSkpO1xuICAgIGlmIChub2RlLmxvY2FsTmFtZSA9PT0gJ3NpbXBsZVR5cGUnKSByZXR1cm4geyAuLi5hYm91dCwgLi4uc2ltcGxlKG5vZGUsIHNjaGVtYSwgZGVwdGgpIH07XG4gICAgY29uc3Qgc2ltcGxlQ29udGVudCA9IGNoaWxkKG5vZGUsIHhzZCwgJ3NpbXBsZUNvbnRlbnQnKTtcbiAgICBjb25zdCBjb21wbGV4Q29udGVudCA9IGNoaWxkKG5vZGUsIHhzZCwgJ2NvbXBsZXhDb250ZW50Jyk7XG4gICAgY29uc3QgaG9sZGVyID0gc2ltcGxlQ29udGVudCA/PyBjb21wbGV4Q29udGVudDtcbiAgICBjb25zdCBkZXJpdmVkID0gaG9sZGVyICYmIChjaGlsZChob2xkZXIsIHhzZCwgJ2V4dGVuc2lvbicpID8/IGNoaWxkKGhvbGRlciwgeHNkLCAncmVzdHJpY3Rpb24nKSk7XG4gICAgY29uc3QgZnJvbSA9IGRlcml2ZWQgPz8gbm9kZTtcbiAgICBjb25zdCBjb250ZW50ID0gcGFydGljbGVJbihmcm9tLCBzY2hlbWEsIGRlcHRoKTtcbiAgICBjb25zdCBhdHRyaWJ1dGVzID0gYXR0cmlidXRlc0luKGZyb20sIHNjaGVtYSwgZGVwdGgpO1xuICAgIGNvbnN0IGJhc2UgPSBkZXJpdmVkICYmIGF0dHJpYnV0ZShkZXJpdmVkLCAnYmFzZScpO1xuICAgIHJldHVybiB7XG4gICAgICAuLi5hYm91dCxcbiAgICAgIHNpbXBsZTogZmFsc2UsXG4gICAgICAuLi4oZGVyaXZlZCAmJlxuICAgICAgICBiYXNlICE9PSB1bmRlZmluZWQgJiYge1xuICAgICAgICAgIGJhc2U6IGV4cGFuZGVkKGRlcml2ZWQsIGJhc2UpLFxuICAgICAgICAgIGRlcml2YXRpb246IGRlcml2ZWQubG9jYWxOYW1lID09PSAnZXh0ZW5zaW9uJyA/ICgnZXh0ZW5zaW9uJyBhcyBjb25zdCkgOiAoJ3Jlc3RyaWN0aW9uJyBhcyBjb25zdCksXG4gICAgICAgIH0pLFxuICAgICAgLi4uKGNvbnRlbnQgJiYgeyBjb250ZW50IH0pLFxuICAgICAgLi4uKGF0dHJpYnV0ZXMubGVuZ3RoID4gMCAmJiB7IGF0dHJpYnV0ZXMgfSksXG4gICAgfTtcbiAgfVxuXG4gIGZ1bmN0aW9uIHNpbXBsZShub2RlOiBFbGVtZW50LCBzY2hlbWE6IFNjaGVtYUNvbnRleHQsIGRlcHRoOiBudW1iZXIpOiBYc2RUeXBlIHtcbiAgICBjb25zdCByZXN0cmljdGlvbiA9IGNoaWxkKG5vZGUsIHhzZCwgJ3Jlc3RyaWN0aW9uJyk7XG4gICAgY29uc3QgbGlzdCA9IGNoaWxkKG5vZGUsIHhzZCwgJ2xpc3QnKTtcbiAgICBpZiAobGlzdCkge1xuICAgICAgY29uc3QgaXRlbSA9IGF0dHJpYnV0ZShsaXN0LCAnaXRlbVR5cGUnKTtcbiAgICAgIHJldHVybiB7XG4gICAgICAgIHNpbXBsZTogdHJ1ZSxcbiAgICAgICAgZGVyaXZhdGlvbjogJ2xpc3QnLFxuICAgICAgICBiYXNlOiBpdGVtID09PSB1bmRlZmluZWQgPyBjbGFyayh4c2QsICdzdHJpbmcnKSA6IGV4cGFuZGVkKGxpc3QsIGl0ZW0pLFxuICAgICAgfTtcbiAgICB9XG4gICAgaWYgKCFyZXN0cmljdGlvbikge1xuICAgICAgY29uc3QgbWVtYmVycyA9IGNoaWxkKG5vZGUsIHhzZCwgJ3VuaW9uJyk7XG4gICAgICBjb25zdCBhbGxvd2VkID0gbWVtYmVyc1xuICAgICAgICA/IGNoaWxkcmVuKG1lbWJlcnMsIHhzZCwgJ3NpbXBsZVR5cGUnKS5mbGF0TWFwKChvbmUpID0+IHNpbXBsZShvbmUsIHNjaGVtYSwgZGVwdGggKyAxKS5hbGxvd2VkID8/IFtdKVxuICAgICAgICA6IFtdO1xuICAgICAgcmV0dXJuIHsgc2ltcGxlOiB0cnVlLCBkZXJpdmF0aW9uOiAndW5pb24nLCBiYXNlOiBjbGFyayh4c2QsICdzdHJpbmcnKSwgLi4uKGFsbG93ZWQubGVuZ3RoID4gMCAmJiB7IGFsbG93ZWQgfSkgfTtcbiAgICB9XG4gICAgY29uc3QgYmFzZSA9IGF0dHJpYnV0ZShyZXN0cmljdGlvbiwgJ2Jhc2UnKTtcbiAgICBjb25zdCBpbm5lciA9IGNoaWxkKHJlc3RyaWN0aW9uLCB4c2QsICdzaW1wbGVUeXBlJyk7XG4gICAgY29uc3QgYWxsb3dlZCA9IGNoaWxkcmVuKHJlc3RyaWN0aW9uLCB4c2QsICdlbnVtZXJhdGlvbicpLm1hcCgob25lKSA9PiBhdHRyaWJ1dGUob25lLCAndmFsdWUnKSA/PyAnJyk7XG4gICAgY29uc3QgbGltaXRzID0gZmFjZXRzKHJlc3RyaWN0aW9uKTtcbiAgICBjb25zdCBuZXN0ZWQgPSBpbm5lciAmJiBkZXB0aCA8IGRlZXBlc3QgPyBzaW1wbGUoaW5uZXIsIHNjaGVtYSwgZGVwdGggKyAxKSA6IHVuZGVmaW5lZDtcbiAgICByZXR1cm4ge1xuICAgICAgc2ltcGxlOiB0cnVlLFxuICAgICAgZGVyaXZhdGlvbjogJ3Jlc3RyaWN0aW9uJyxcbiAgICAgIGJhc2U6IGJhc2UgPT09IHVuZGVmaW5lZCA/IChuZXN0ZWQ/LmJhc2UgPz8gY2xhcmsoeHNkLCAnc3RyaW5nJykpIDogZXhwYW5kZWQocmVzdHJpY3Rpb24sIGJhc2UpLFxuICAgICAgLi4uKGFsbG93ZWQubGVuZ3RoID4gMCAmJiB7IGFsbG93ZWQgfSksXG4gICAgICAuLi4oT2JqZWN0LmtleXMobGltaXRzKS5sZW5ndGggPiAwICYmIHsgbGltaXRzIH0pLFxuICAgIH07XG4gIH1cblxuICBmdW5jdGlvbiBwYXJ0aWNsZUluKG5vZGU6IEVsZW1lbnQsIHNjaGVtYTogU2NoZW1hQ29udGV4dCwgZGVwdGg6IG51bWJlcik6IFBhcnRpY2xlIHwgdW5kZWZpbmVkIHtcbiAgICBmb3IgKGNvbnN0IG9uZSBvZiBjaGlsZHJlbihub2RlLCB4c2QpKSB7XG4gICAgICBjb25zdCBmb3VuZCA9IHBhcnRpY2xlKG9uZSwgc2NoZW1hLCBkZXB0aCk7XG4gICAgICBpZiAoZm91bmQpIHJldHVybiBmb3VuZDtcbiAgICB9XG4gICAgcmV0dXJuIHVuZGVmaW5lZDtcbiAgfVxuXG4gIGZ1bmN0aW9uIHBhcnRpY2xlKG5vZGU6IEVsZW1lbnQsIHNjaGVtYTogU2NoZW1hQ29udGV4dCwgZGVwdGg6IG51bWJlcik6IFBhcnRpY2xlIHwgdW5kZWZpbmVkIHtcbiAgICBpZiAoZGVwdGggPiBkZWVwZXN0KSByZXR1cm4gdW5kZWZpbmVkO1xuICAgIGNvbnN0IGxlYXN0ID0gTnVtYmVyKGF0dHJpYnV0ZShub2RlLCAnbWluT2NjdXJzJykgPz8gMSk7XG4gICAgY29uc3QgbW9zdCA9IGF0dHJpYnV0ZShub2RlLCAnbWF4T2NjdXJzJykgPT09ICd1bmJvdW5kZWQnID8gLTEgOiBOdW1iZXIoYXR0cmlidXRlKG5vZGUsICdtYXhPY2N1cnMnKSA/PyAxKTtcbiAgICBzd2l0Y2ggKG5vZGUubG9jYWxOYW1lKSB7XG4gICAgICBjYXNlICdlbGVtZW50JzpcbiAgICAgICAgcmV0dXJuIHsgaXM6ICdlbGVtZW50JywgZWxlbWVudDogZWxlbWVudChub2RlLCBzY2hlbWEsIGRlcHRoKSB9O1xuICAgICAgY2FzZSAnYW55JzpcbiAgICAgICAgcmV0dXJuIHsgaXM6ICdhbnknLCBsZWFzdCB9O1xuICAgICAgY2FzZSAnc2VxdWVuY2UnOlxuICAgICAgY2FzZSAnY2hvaWNlJzpcbiAgICAgIGNhc2UgJ2FsbCc6XG4gICAgICAgIHJldHVybiB7XG4gICAgICAgICAgaXM6IG5vZGUubG9jYWxOYW1lLFxuICAgICAgICAgIGxlYXN0LFxuICAgICAgICAgIG1vc3QsXG4gICAgICAgICAgaXRlbXM6IGNoaWxkcmVuKG5vZGUsIHhzZCkuZmxhdE1hcCgob25lKSA9PiBwYXJ0aWNsZShvbmUsIHNjaGVtYSwgZGVwdGggKyAxKSA/PyBbXSksXG4gICAgICAgIH07XG4gICAgICBjYXNlICdncm91cCc6IHtcbiAgICAgICAgY29uc3QgcmVmID0gYXR0cmlidXRlKG5vZGUsICdyZWYnKTtcbiAgICAgICAgY29uc3QgZ3JvdXAgPSByZWYgPT09IHVuZGVmaW5lZCA/IHVuZGVmaW5lZCA6IGdyb3Vwcy5nZXQoZXhwYW5kZWQobm9kZSwgcmVmKSk7XG4gICAgICAgIGlmIChncm91cCkgcmV0dXJuIHBhcnRpY2xlSW4oZ3JvdXAubm9kZSwgZ3JvdXAuc2NoZW1hLCBkZXB0aCArIDEpO1xuICAgICAgICBpZiAocmVmICE9PSB1bmRlZmluZWQpIHdhcm5pbmdzLnB1c2goeyBhdDogYGdyb3VwICR7cmVmfWAsIHdoYXQ6ICd0aGUgZ3JvdXAgaXMgbm90IGRlc2NyaWJlZCcgfSk7XG4gICAgICAgIHJldHVybiB1bmRlZmluZWQ7XG4gICAgICB9XG4gICAgICBkZWZhdWx0OlxuICAgICAgICByZXR1cm4gdW5kZWZpbmVkO1xuICAgIH1cbiAgfVxuXG4gIGZ1bmN0aW9uIGF0dHJpYnV0ZXNJbihub2RlOiBFbGVtZW50LCBzY2hlbWE6IFNjaGVtYUNvbnRleHQsIGRlcHRoOiBudW1iZXIpOiBYc2RBdHRyaWJ1dGVbXSB7XG4gICAgcmV0dXJuIGNoaWxkcmVuKG5vZGUsIHhzZCkuZmxhdE1hcCgob25lKSA9PiB7XG4gICAgICBpZiAob25lLmxvY2FsTmFtZSA9PT0gJ2F0dHJpYnV0ZUdyb3VwJykge1xuICAgICAgICBjb25zdCBncm91cCA9IGF0dHJpYnV0ZUdyb3Vwcy5nZXQoZXhwYW5kZWQob25lLCBhdHRyaWJ1dGUob25lLCAncmVmJykgPz8gJycpKTtcbiAgICAgICAgcmV0dXJuIGdyb3VwICYmIGRlcHRoIDwgZGVlcGVzdCA/IGF0dHJpYnV0ZXNJbihncm91cC5ub2RlLCBncm91cC5zY2hlbWEsIGRlcHRoICsgMSkgOiBbXTtcbiAgICAgIH1cbiAgICAgIGlmIChvbmUubG9jYWxOYW1lICE9PSAnYXR0cmlidXRlJyB8fCBhdHRyaWJ1dGUob25lLCAndXNlJykgPT09ICdwcm9oaWJpdGVkJykgcmV0dXJuIFtdO1xuICAgICAgY29uc3QgcmVmID0gYXR0cmlidXRlKG9uZSwgJ3JlZicpO1xuICAgICAgY29uc3QgZ2xvYmFsID0gcmVmID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiBnbG9iYWxBdHRyaWJ1dGVzLmdldChleHBhbmRlZChvbmUsIHJlZikpO1xuICAgICAgY29uc3QgZGVzY3JpYmVkID0gZ2xvYmFsPy5ub2RlID8/IG9uZTtcbiAgICAgIGNvbnN0IG5hbWVkID0gYXR0cmlidXRlKGRlc2NyaWJlZCwgJ3R5cGUnKTtcbiAgICAgIGNvbnN0IGlubmVyID0gY2hpbGQoZGVzY3JpYmVkLCB4c2QsICdzaW1wbGVUeXBlJyk7XG4gICAgICBjb25zdCBxdWFsaWZpZWQgPVxuICAgICAgICBnbG9iYWwgIT09IHVuZGVmaW5lZCB8fFxuICAgICAgICAoYXR0cmlidXRlKG9uZSwgJ2Zvcm0nKSA/PyAoc2NoZW1hLnF1YWxpZmllZEF0dHJpYnV0ZXMgPyAncXVhbGlmaWVkJyA6ICcnKSkgPT09ICdxdWFsaWZpZWQnO1xuICAgICAgcmV0dXJuIFtcbiAgICAgICAge1xuICAgICAgICAgIG5hbWU6IGF0dHJpYnV0ZShkZXNjcmliZWQsICduYW1lJykgPz8gcmVmID8/ICcnLFxuICAgICAgICAgIC4uLihxdWFsaWZpZWQgJiYgeyBuYW1lc3BhY2U6IChnbG9iYWw/LnNjaGVtYSA/PyBzY2hlbWEpLm5hbWVzcGFjZSB9KSxcbiAgICAgICAgICAuLi4obmFtZWQgIT09IHVuZGVmaW5lZCAmJiB7IHR5cGU6IGV4cGFuZGVkKGRlc2NyaWJlZCwgbmFtZWQpIH0pLFxuICAgICAgICAgIC4uLihpbm5lciAmJiB7IGlubGluZTogc2ltcGxlKGlubmVyLCBzY2hlbWEsIGRlcHRoICsgMSkgfSksXG4gICAgICAgICAgcmVxdWlyZWQ6IGF0dHJpYnV0ZShvbmUsICd1c2UnKSA9PT0gJ3JlcXVpcmVkJyxcbiAgICAgICAgICAuLi5wcmVzZW50KCdkZWZhdWx0JywgYXR0cmlidXRlKG9uZSwgJ2RlZmF1bHQnKSksXG4gICAgICAgICAgLi4ucHJlc2VudCgnZml4ZWQnLCBhdHRyaWJ1dGUob25lLCAnZml4ZWQnKSksXG4gICAgICAgICAgLi4ucHJlc2VudCgnYWJvdXQnLCBhYm91dE9mKGRlc2NyaWJlZCkpLFxuICAgICAgICB9LFxuICAgICAgXTtcbiAgICB9KTtcbiAgfVxufVxuXG5mdW5jdGlvbiBhYm91dE9mKG5vZGU6IEVsZW1lbnQpOiBzdHJpbmcgfCB1bmRlZmluZWQge1xuICBjb25zdCBhbm5vdGF0aW9uID0gY2hpbGQobm9kZSwgeHNkLCAnYW5ub3RhdGlvbicpO1xuICByZXR1cm4gYW5ub3RhdGlvbiAmJiB0ZXh0SW4oY2hpbGQoYW5ub3RhdGlvbiwgeHNkLCAnZG9jdW1lbnRhdGlvbicpKTtcbn1cblxuZnVuY3Rpb24gcHJlc2VudDxLIGV4dGVuZHMgc3RyaW5nPihrZXk6IEssIHZhbHVlOiBzdHJpbmcgfCB1bmRlZmluZWQpOiB7IFtQIGluIEtdPzogc3RyaW5nIH0ge1xuICByZXR1cm4gdmFsdWUgPT09IHVuZGVmaW5lZCA/IHt9IDogKHsgW2tleV06IHZhbHVlIH0gYXMgeyBbUCBpbiBLXT86IHN0cmluZyB9KTtcbn1cblxuLyoqIEZhY2V0cyBhbmQgb3VyIG5hbWVzIGZvciB0aGVtLiAqL1xuY29uc3QgZmFjZXROYW1lcyA9IHtcbiAgbWluSW5jbHVzaXZlOiAnYXQtbGVhc3QnLFxuICBtYXhJbmNsdXNpdmU6ICdhdC1tb3N0JyxcbiAgbWluRXhjbHVzaXZlOiAnb3ZlcicsXG4gIG1heEV4Y2x1c2l2ZTogJ3VuZGVyJyxcbiAgbWluTGVuZ3RoOiAnbGVhc3QtbGVuZ3RoJyxcbiAgbWF4TGVuZ3RoOiAnbW9zdC1sZW5ndGgnLFxufSBhcyBjb25zdDtcblxuZnVuY3Rpb24gZmFjZXRzKHJlc3RyaWN0aW9uOiBFbGVtZW50KTogTGltaXRzIHtcbiAgY29uc3QgbGltaXRzOiBSZWNvcmQ8c3RyaW5nLCBudW1iZXIgfCBzdHJpbmc+ID0ge307XG4gIGZvciAoY29uc3QgW2ZhY2V0LCBuYW1lXSBvZiBPYmplY3QuZW50cmllcyhmYWNldE5hbWVzKSkge1xuICAgIGNvbnN0IHZhbHVlID0gTnVtYmVyKGF0dHJpYnV0ZU9mKHJlc3RyaWN0aW9uLCBmYWNldCkpO1xuICAgIGlmIChhdHRyaWJ1dGVPZihyZXN0cmljdGlvbiwgZmFjZXQpICE9PSB1bmRlZmluZWQgJiYgIU51bWJlci5pc05hTih2YWx1ZSkpIGxpbWl0c1tuYW1lXSA9IHZhbHVlO1xuICB9XG4gIGNvbnN0IGxlbmd0aCA9IGF0dHJpYnV0ZU9mKHJlc3RyaWN0aW9uLCAnbGVuZ3RoJyk7XG4gIGlmIChsZW5ndGggIT09IHVuZGVmaW5lZCkgbGltaXRzWydsZWFzdC1sZW5ndGgnXSA9IGxpbWl0c1snbW9zdC1sZW5ndGgnXSA9IE51bWJlcihsZW5ndGgpO1xuICBjb25zdCBwYXR0ZXJuID0gYXR0cmlidXRlT2YocmVzdHJpY3Rpb24sICdwYXR0ZXJuJyk7XG4gIGlmIChwYXR0ZXJuICE9PSB1bmRlZmluZWQpIGxpbWl0cy5tYXRjaGVzID0gYF4oPzoke3BhdHRlcm59KSRgO1xuICByZXR1cm4gbGltaXRzO1xufVxuXG5jb25zdCBhdHRyaWJ1dGVPZiA9IChyZXN0cmljdGlvbjogRWxlbWVudCwgZmFjZXQ6IHN0cmluZyk6IHN0cmluZyB8IHVuZGVmaW5lZCA9PiB7XG4gIGNvbnN0IG5vZGUgPSBjaGlsZChyZXN0cmljdGlvbiwgeHNkLCBmYWNldCk7XG4gIHJldHVybiBub2RlICYmIGF0dHJpYnV0ZShub2RlLCAndmFsdWUnKTtcbn07XG4iLCAiLyoqIFdTREwgMS4xIHdpdGggaXRzIFNPQVAgMS4xIGFuZCAxLjIgYmluZGluZ3MsIGFuZCB0aGUgWE1MIFNjaGVtYXMgaXQgaG9sZHMsIGltcG9ydHMgYW5kIGluY2x1ZGVzLiAqL1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgdHlwZSB7IFZhbHVlIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyBhZGRyZXNzT2YsIHR5cGUgRG9jdW1lbnRzLCB0eXBlIFBhcnQgfSBmcm9tICcuLi9kb2N1bWVudHMuanMnO1xuaW1wb3J0IHR5cGUgeyBEb2N1bWVudGF0aW9uLCBPcGVyYXRpb25FbnRyeSwgV2FybmluZyB9IGZyb20gJy4uL21vZGVsLmpzJztcbmltcG9ydCB7IGF0dHJpYnV0ZSwgY2hpbGQsIGNoaWxkcmVuLCBjbGFyaywgdHlwZSBFbGVtZW50LCBleHBhbmRlZCwgbG9jYWxPZiwgcm9vdE9mLCB0ZXh0SW4gfSBmcm9tICcuL2RvbS5qcyc7XG5pbXBvcnQge1xuICB0eXBlIENsYXJrTmFtZSxcbiAgZWxlbWVudEtleSxcbiAgdHlwZSBNZXNzYWdlUGFydCxcbiAgdHlwZSBPd25Tb2FwT3BlcmF0aW9uLFxuICB0eXBlIFNvYXBNZXNzYWdlLFxuICB0eXBlS2V5LFxuICB4c2QsXG59IGZyb20gJy4vbW9kZWwuanMnO1xuaW1wb3J0IHsgcmVhZFNjaGVtYXMgfSBmcm9tICcuL3hzZC5qcyc7XG5cbmNvbnN0IHdzZGwgPSAnaHR0cDovL3NjaGVtYXMueG1sc29hcC5vcmcvd3NkbC8nO1xuY29uc3Qgc29hcFZlcnNpb25zOiBSZWFkb25seTxSZWNvcmQ8c3RyaW5nLCAnMS4xJyB8ICcxLjInPj4gPSB7XG4gICdodHRwOi8vc2NoZW1hcy54bWxzb2FwLm9yZy93c2RsL3NvYXAvJzogJzEuMScsXG4gICdodHRwOi8vc2NoZW1hcy54bWxzb2FwLm9yZy93c2RsL3NvYXAxMi8nOiAnMS4yJyxcbn07XG5cbi8qKiBgbG9jYXRpb25gIGFuZCBgc2NoZW1hTG9jYXRpb25gIG9mIGltcG9ydHMgYW5kIGluY2x1ZGVzLCBhcyB0aGV5IHN0YW5kLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHhtbFJlZmVyZW5jZXMocGFydDogUGFydCk6IHN0cmluZ1tdIHtcbiAgY29uc3Qgcm9vdCA9IHJvb3RPZihwYXJ0KTtcbiAgY29uc3Qgc2NoZW1hcyA9IHJvb3QubmFtZXNwYWNlVVJJID09PSB4c2QgPyBbcm9vdF0gOiBzY2hlbWFzSW4ocm9vdCk7XG4gIGNvbnN0IGxvY2F0aW9ucyA9IFtcbiAgICAuLi5jaGlsZHJlbihyb290LCB3c2RsLCAnaW1wb3J0JykubWFwKChvbmUpID0+IGF0dHJpYnV0ZShvbmUsICdsb2NhdGlvbicpKSxcbiAgICAuLi5zY2hlbWFzLmZsYXRNYXAoKHNjaGVtYSkgPT5cbiAgICAgIFsnaW1wb3J0JywgJ2luY2x1ZGUnLCAncmVkZWZpbmUnXS5mbGF0TWFwKChuYW1lKSA9PlxuICAgICAgICBjaGlsZHJlbihzY2hlbWEsIHhzZCwgbmFtZSkubWFwKChvbmUpID0+IGF0dHJpYnV0ZShvbmUsICdzY2hlbWFMb2NhdGlvbicpKSxcbiAgICAgICksXG4gICAgKSxcbiAgXTtcbiAgcmV0dXJuIFsuLi5uZXcgU2V0KGxvY2F0aW9ucy5maWx0ZXIoKG9uZSkgPT4gb25lICE9PSB1bmRlZmluZWQpKV07XG59XG5cbmNvbnN0IHNjaGVtYXNJbiA9IChkZWZpbml0aW9uczogRWxlbWVudCk6IEVsZW1lbnRbXSA9PlxuICBjaGlsZHJlbihkZWZpbml0aW9ucywgd3NkbCwgJ3R5cGVzJykuZmxhdE1hcCgodHlwZXMpID0+IGNoaWxkcmVuKHR5cGVzLCB4c2QsICdzY2hlbWEnKSk7XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gZG9jdW1lbnQtdW5yZWFkYWJsZSAqL1xuZXhwb3J0IGZ1bmN0aW9uIHJlYWRXc2RsKGRvY3VtZW50czogRG9jdW1lbnRzLCBzb3VyY2U6IHN0cmluZyk6IERvY3VtZW50YXRpb24ge1xuICBjb25zdCByZWFkaW5nID0gbmV3IFJlYWRpbmcoZG9jdW1lbnRzKTtcbiAgY29uc3Qgcm9vdCA9IHJvb3RPZihkb2N1bWVudHMubWFpbik7XG4gIGlmIChyb290Lm5hbWVzcGFjZVVSSSAhPT0gd3NkbCkge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCdkb2N1bWVudC11bnJlYWRhYmxlJywge1xuICAgICAgd2hhdDogYCR7ZG9jdW1lbnRzLm1haW4uZmlsZX0gaXMgYW4gWE1MIFNjaGVtYSwgYW5kIGRlc2NyaWJlcyBubyBvcGVyYXRpb25gLFxuICAgICAgcmVtZWR5OiAnYWRkIHRoZSBXU0RMIHRoYXQgaW1wb3J0cyBpdCcsXG4gICAgfSk7XG4gIH1cbiAgY29uc3Qgb3BlcmF0aW9ucyA9IHJlYWRpbmcub3BlcmF0aW9ucygpO1xuICBjb25zdCB7IHdhcm5pbmdzLCBzY2hlbWFzIH0gPSByZWFkaW5nO1xuICBpZiAob3BlcmF0aW9ucy5sZW5ndGggPT09IDApIHdhcm5pbmdzLnB1c2goeyBhdDogJ2RlZmluaXRpb25zJywgd2hhdDogJ3RoZSBkb2N1bWVudCBkZXNjcmliZXMgbm8gU09BUCBvcGVyYXRpb24nIH0pO1xuICBjb25zdCBkZWZpbml0aW9ucyA9IG5ldyBNYXA8c3RyaW5nLCBWYWx1ZT4oKTtcbiAgY29uc3QgdHlwZXMgPSBuZXcgTWFwPHN0cmluZywgc3RyaW5nPigpO1xuICBmb3IgKGNvbnN0IFtuYW1lLCB0eXBlXSBvZiBzY2hlbWFzLnR5cGVzKSB7XG4gICAgZGVmaW5pdGlvbnMuc2V0KHR5cGVLZXkobmFtZSksIHR5cGUgYXMgdW5rbm93biBhcyBWYWx1ZSk7XG4gICAgdHlwZXMuc2V0KGxvY2FsT2YobmFtZSksIHR5cGVLZXkobmFtZSkpO1xuICB9XG4gIGZvciAoY29uc3QgW25hbWUsIGVsZW1lbnRdIG9mIHNjaGVtYXMuZWxlbWVudHMpIGRlZmluaXRpb25zLnNldChlbGVtZW50S2V5KG5hbWUpLCBlbGVtZW50IGFzIHVua25vd24gYXMgVmFsdWUpO1xuICByZXR1cm4ge1xuICAgIGZvcm1hdDogJ1dTREwnLFxuICAgIHZlcnNpb246ICcxLjEnLFxuICAgIHRpdGxlOiB0ZXh0SW4oY2hpbGQocm9vdCwgd3NkbCwgJ2RvY3VtZW50YXRpb24nKSkgPz8gYXR0cmlidXRlKHJvb3QsICduYW1lJykgPz8gc291cmNlLFxuICAgIHNlcnZlcnM6IFsuLi5uZXcgU2V0KG9wZXJhdGlvbnMubWFwKCh7IG93biB9KSA9PiAob3duIGFzIHVua25vd24gYXMgT3duU29hcE9wZXJhdGlvbikuYWRkcmVzcykpXS5tYXAoKHVybCkgPT4gKHtcbiAgICAgIHVybCxcbiAgICAgIHZhcmlhYmxlczogW10sXG4gICAgfSkpLFxuICAgIG9wZXJhdGlvbnMsXG4gICAgZGVmaW5pdGlvbnMsXG4gICAgdHlwZXMsXG4gICAgd2ViaG9va3M6IFtdLFxuICAgIHdhcm5pbmdzLFxuICB9O1xufVxuXG5jbGFzcyBSZWFkaW5nIHtcbiAgcmVhZG9ubHkgd2FybmluZ3M6IFdhcm5pbmdbXSA9IFtdO1xuICByZWFkb25seSBzY2hlbWFzOiBSZXR1cm5UeXBlPHR5cGVvZiByZWFkU2NoZW1hcz47XG4gIHByaXZhdGUgcmVhZG9ubHkgcm9vdHM6IHJlYWRvbmx5IEVsZW1lbnRbXTtcbiAgcHJpdmF0ZSByZWFkb25seSBtZXNzYWdlczogUmVhZG9ubHlNYXA8Q2xhcmtOYW1lLCByZWFkb25seSBNZXNzYWdlUGFydFtdPjtcblxuICBjb25zdHJ1Y3Rvcihkb2N1bWVudHM6IERvY3VtZW50cykge1xuICAgIGNvbnN0IHBhcnRzID0gWy4uLmRvY3VtZW50cy5wYXJ0cy52YWx1ZXMoKV0uZmlsdGVyKCh7IG5vdGF0aW9uIH0pID0+IG5vdGF0aW9uID09PSAneG1sJyk7XG4gICAgY29uc3QgcmVhZCA9IHBhcnRzLm1hcCgocGFydCkgPT4gKHsgcGFydCwgcm9vdDogcm9vdE9mKHBhcnQpIH0pKTtcbiAgICB0aGlzLnJvb3RzID0gcmVhZC5tYXAoKHsgcm9vdCB9KSA9PiByb290KS5maWx0ZXIoKHJvb3QpID0+IHJvb3QubmFtZXNwYWNlVVJJID09PSB3c2RsKTtcbiAgICB0aGlzLmRlbWFuZFBhcnRzKGRvY3VtZW50cyk7XG4gICAgY29uc3QgY2hhbWVsZW9ucyA9IGNoYW1lbGVvbnNPZihyZWFkKTtcbiAgICBjb25zdCBzY2hlbWFzID0gcmVhZC5mbGF0TWFwKCh7IHBhcnQsIHJvb3QgfSkgPT5cbiAgICAgIHJvb3QubmFtZXNwYWNlVVJJID09PSB4c2RcbiAgICAgICAgPyBbeyBub2RlOiByb290LCBjaGFtZWxlb246IGNoYW1lbGVvbnMuZ2V0KHBhcnQudXJpKSB9XVxuICAgICAgICA6IHNjaGVtYXNJbihyb290KS5tYXAoKG5vZGUpID0+ICh7IG5vZGUgfSkpLFxuICAgICk7XG4gICAgdGhpcy5zY2hlbWFzID0gcmVhZFNjaGVtYXMoc2NoZW1hcywgdGhpcy53YXJuaW5ncyk7XG4gICAgdGhpcy5tZXNzYWdlcyA9IG5ldyBNYXAoXG4gICAgICB0aGlzLmFsbCgnbWVzc2FnZScpLm1hcCgobWVzc2FnZSkgPT4gW1xuICAgICAgICB0aGlzLm5hbWVPZihtZXNzYWdlKSxcbiAgICAgICAgY2hpbGRyZW4obWVzc2FnZSwgd3NkbCwgJ3BhcnQnKS5tYXAoKHBhcnQpID0+IHtcbiAgICAgICAgICBjb25zdCBbZWxlbWVudCwgdHlwZV0gPSBbYXR0cmlidXRlKHBhcnQsICdlbGVtZW50JyksIGF0dHJpYnV0ZShwYXJ0LCAndHlwZScpXTtcbiAgICAgICAgICByZXR1cm4ge1xuICAgICAgICAgICAgbmFtZTogYXR0cmlidXRlKHBhcnQsICduYW1lJykgPz8gJycsXG4gICAgICAgICAgICAuLi4oZWxlbWVudCAhPT0gdW5kZWZpbmVkICYmIHsgZWxlbWVudDogZXhwYW5kZWQocGFydCwgZWxlbWVudCkgfSksXG4gICAgICAgICAgICAuLi4odHlwZSAhPT0gdW5kZWZpbmVkICYmIHsgdHlwZTogZXhwYW5kZWQocGFydCwgdHlwZSkgfSksXG4gICAgICAgICAgfTtcbiAgICAgICAgfSksXG4gICAgICBdKSxcbiAgICApO1xuICB9XG5cbiAgcHJpdmF0ZSBkZW1hbmRQYXJ0cyh7IHBhcnRzIH06IERvY3VtZW50cyk6IHZvaWQge1xuICAgIGZvciAoY29uc3QgcGFydCBvZiBwYXJ0cy52YWx1ZXMoKSkge1xuICAgICAgaWYgKHBhcnQubm90YXRpb24gIT09ICd4bWwnKSBjb250aW51ZTtcbiAgICAgIGZvciAoY29uc3QgcmVmZXJlbmNlIG9mIHhtbFJlZmVyZW5jZXMocGFydCkpIHtcbiAgICAgICAgY29uc3QgYWRkcmVzcyA9IGFkZHJlc3NPZihyZWZlcmVuY2UsIHBhcnQudXJpKTtcbiAgICAgICAgaWYgKGFkZHJlc3MgPT09IHVuZGVmaW5lZCB8fCAhcGFydHMuaGFzKGFkZHJlc3MpKVxuICAgICAgICAgIHRoaXMud2FybmluZ3MucHVzaCh7IGF0OiBwYXJ0LmZpbGUsIHdoYXQ6IGAke3JlZmVyZW5jZX0gd2FzIG5vdCByZWFkOyB3aGF0IGl0IGRlc2NyaWJlcyBpcyBtaXNzaW5nYCB9KTtcbiAgICAgIH1cbiAgICB9XG4gIH1cblxuICBwcml2YXRlIGFsbChuYW1lOiBzdHJpbmcpOiBFbGVtZW50W10ge1xuICAgIHJldHVybiB0aGlzLnJvb3RzLmZsYXRNYXAoKHJvb3QpID0+IGNoaWxkcmVuKHJvb3QsIHdzZGwsIG5hbWUpKTtcbiAgfVxuXG4gIHByaXZhdGUgbmFtZU9mKG5vZGU6IEVsZW1lbnQpOiBDbGFya05hbWUge1xuICAgIGNvbnN0IHJvb3QgPSBub2RlLnBhcmVudE5vZGUgYXMgRWxlbWVudDtcbiAgICByZXR1cm4gY2xhcmsoYXR0cmlidXRlKHJvb3QsICd0YXJnZXROYW1lc3BhY2UnKSA/PyAnJywgYXR0cmlidXRlKG5vZGUsICduYW1lJykgPz8gJycpO1xuICB9XG5cbiAgb3BlcmF0aW9ucygpOiBPcGVyYXRpb25FbnRyeVtdIHtcbiAgICBjb25zdCBiaW5kaW5ncyA9IG5ldyBNYXAodGhpcy5hbGwoJ2JpbmRpbmcnKS5tYXAoKG9uZSkgPT4gW3RoaXMubmFtZU9mKG9uZSksIG9uZV0pKTtcbiAgICBjb25zdCBwb3J0VHlwZXMgPSBuZXcgTWFwKHRoaXMuYWxsKCdwb3J0VHlwZScpLm1hcCgob25lKSA9PiBbdGhpcy5uYW1lT2Yob25lKSwgb25lXSkpO1xuICAgIGNvbnN0IGZvdW5kID0gdGhpcy5hbGwoJ3NlcnZpY2UnKS5mbGF0TWFwKChzZXJ2aWNlKSA9PlxuICAgICAgY2hpbGRyZW4oc2VydmljZSwgd3NkbCwgJ3BvcnQnKS5mbGF0TWFwKChwb3J0KSA9PiB7XG4gICAgICAgIGNvbnN0IGJpbmRpbmcgPSBiaW5kaW5ncy5nZXQoZXhwYW5kZWQocG9ydCwgYXR0cmlidXRlKHBvcnQsICdiaW5kaW5nJykgPz8gJycpKTtcbiAgICAgICAgY29uc3QgYXQgPSBgc2VydmljZSAke2F0dHJpYnV0ZShzZXJ2aWNlLCAnbmFtZScpfSwgcG9ydCAke2F0dHJpYnV0ZShwb3J0LCAnbmFtZScpfWA7XG4gICAgICAgIGlmICghYmluZGluZykge1xuICAgICAgICAgIHRoaXMud2FybmluZ3MucHVzaCh7IGF0LCB3aGF0OiBgdGhlIGJpbmRpbmcgJHthdHRyaWJ1dGUocG9ydCwgJ2JpbmRpbmcnKX0gaXMgbm90IGRlc2NyaWJlZGAgfSk7XG4gICAgICAgICAgcmV0dXJuIFtdO1xuICAgICAgICB9XG4gICAgICAgIGNvbnN0IHBvcnRUeXBlID0gcG9ydFR5cGVzLmdldChleHBhbmRlZChiaW5kaW5nLCBhdHRyaWJ1dGUoYmluZGluZywgJ3R5cGUnKSA/PyAnJykpO1xuICAgICAgICBpZiAoIXBvcnRUeXBlKSB7XG4gICAgICAgICAgdGhpcy53YXJuaW5ncy5wdXNoKHsgYXQsIHdoYXQ6IGB0aGUgcG9ydCB0eXBlICR7YXR0cmlidXRlKGJpbmRpbmcsICd0eXBlJyl9IGlzIG5vdCBkZXNjcmliZWRgIH0pO1xuICAgICAgICAgIHJldHVybiBbXTtcbiAgICAgICAgfVxuICAgICAgICByZXR1cm4gdGhpcy5wb3J0T3BlcmF0aW9ucyhzZXJ2aWNlLCBwb3J0LCBiaW5kaW5nLCBwb3J0VHlwZSwgYXQpO1xuICAgICAgfSksXG4gICAgKTtcbiAgICByZXR1cm4gbmFtZWQoZm91bmQpO1xuICB9XG5cbiAgcHJpdmF0ZSBwb3J0T3BlcmF0aW9ucyhcbiAgICBzZXJ2aWNlOiBFbGVtZW50LFxuICAgIHBvcnQ6IEVsZW1lbnQsXG4gICAgYmluZGluZzogRWxlbWVudCxcbiAgICBwb3J0VHlwZTogRWxlbWVudCxcbiAgICBhdDogc3RyaW5nLFxuICApOiBPd25Tb2FwT3BlcmF0aW9uW10ge1xuICAgIGNvbnN0IFtuYW1lc3BhY2UsIHZlcnNpb25dID0gT2JqZWN0LmVudHJpZXMoc29hcFZlcnNpb25zKS5maW5kKChbb25lXSkgPT4gY2hpbGQoYmluZGluZywgb25lLCAnYmluZGluZycpKSA/PyBbXTtcbiAgICBpZiAobmFtZXNwYWNlID09PSB1bmRlZmluZWQgfHwgdmVyc2lvbiA9PT0gdW5kZWZpbmVkKSB7XG4gICAgICB0aGlzLndhcm5pbmdzLnB1c2goeyBhdCwgd2hhdDogJ3RoZSBiaW5kaW5nIGlzIG5vdCBvbmUgb2YgU09BUCcgfSk7XG4gICAgICByZXR1cm4gW107XG4gICAgfVxuICAgIGNvbnN0IHN0eWxlID0gYXR0cmlidXRlKGNoaWxkKGJpbmRpbmcsIG5hbWVzcGFjZSwgJ2JpbmRpbmcnKSBhcyBFbGVtZW50LCAnc3R5bGUnKSA/PyAnZG9jdW1lbnQnO1xuICAgIGNvbnN0IGFkZHJlc3MgPSBjaGlsZChwb3J0LCBuYW1lc3BhY2UsICdhZGRyZXNzJyk7XG4gICAgcmV0dXJuIGNoaWxkcmVuKHBvcnRUeXBlLCB3c2RsLCAnb3BlcmF0aW9uJykuZmxhdE1hcCgob3BlcmF0aW9uKTogT3duU29hcE9wZXJhdGlvbltdID0+IHtcbiAgICAgIGNvbnN0IG5hbWUgPSBhdHRyaWJ1dGUob3BlcmF0aW9uLCAnbmFtZScpID8/ICcnO1xuICAgICAgY29uc3QgYm91bmQgPSBjaGlsZHJlbihiaW5kaW5nLCB3c2RsLCAnb3BlcmF0aW9uJykuZmluZCgob25lKSA9PiBhdHRyaWJ1dGUob25lLCAnbmFtZScpID09PSBuYW1lKTtcbiAgICAgIGNvbnN0IHNvYXAgPSBib3VuZCAmJiBjaGlsZChib3VuZCwgbmFtZXNwYWNlLCAnb3BlcmF0aW9uJyk7XG4gICAgICBjb25zdCBpbnB1dCA9IGNoaWxkKG9wZXJhdGlvbiwgd3NkbCwgJ2lucHV0Jyk7XG4gICAgICBpZiAoIWJvdW5kIHx8ICFpbnB1dCkge1xuICAgICAgICB0aGlzLndhcm5pbmdzLnB1c2goe1xuICAgICAgICAgIGF0OiBgJHthdH0sIG9wZXJhdGlvbiAke25hbWV9YCxcbiAgICAgICAgICB3aGF0OiBib3VuZCA/ICd0aGUgb3BlcmF0aW9uIHRha2VzIG5vdGhpbmcnIDogJ3RoZSBiaW5kaW5nIGxlYXZlcyB0aGUgb3BlcmF0aW9uIG91dCcsXG4gICAgICAgIH0pO1xuICAgICAgICByZXR1cm4gW107XG4gICAgICB9XG4gICAgICBjb25zdCBvdXRwdXQgPSBjaGlsZChvcGVyYXRpb24sIHdzZGwsICdvdXRwdXQnKTtcbiAgICAgIGNvbnN0IGlucHV0Qm9keSA9IHNvYXBCb2R5KGNoaWxkKGJvdW5kLCB3c2RsLCAnaW5wdXQnKSwgbmFtZXNwYWNlKTtcbiAgICAgIGNvbnN0IGFib3V0ID0gdGV4dEluKGNoaWxkKG9wZXJhdGlvbiwgd3NkbCwgJ2RvY3VtZW50YXRpb24nKSk7XG4gICAgICByZXR1cm4gW1xuICAgICAgICB7XG4gICAgICAgICAgc2VydmljZTogYXR0cmlidXRlKHNlcnZpY2UsICduYW1lJykgPz8gJycsXG4gICAgICAgICAgcG9ydDogYXR0cmlidXRlKHBvcnQsICduYW1lJykgPz8gJycsXG4gICAgICAgICAgb3BlcmF0aW9uOiBuYW1lLFxuICAgICAgICAgIHZlcnNpb24sXG4gICAgICAgICAgc3R5bGU6XG4gICAgICAgICAgICAoc29hcCAmJiBhdHRyaWJ1dGUoc29hcCwgJ3N0eWxlJykpID09PSAncnBjJyB8fFxuICAgICAgICAgICAgKHN0eWxlID09PSAncnBjJyAmJiAoc29hcCAmJiBhdHRyaWJ1dGUoc29hcCwgJ3N0eWxlJykpICE9PSAnZG9jdW1lbnQnKVxuICAgICAgICAgICAgICA/ICdycGMnXG4gICAgICAgICAgICAgIDogJ2RvY3VtZW50JyxcbiAgICAgICAgICB1c2U6IGlucHV0Qm9keSAmJiBhdHRyaWJ1dGUoaW5wdXRCb2R5LCAndXNlJykgPT09ICdlbmNvZGVkJyA/ICdlbmNvZGVkJyA6ICdsaXRlcmFsJyxcbiAgICAgICAgICBhY3Rpb246IChzb2FwICYmIGF0dHJpYnV0ZShzb2FwLCAnc29hcEFjdGlvbicpKSA/PyAnJyxcbiAgICAgICAgICBhZGRyZXNzOiAoYWRkcmVzcyAmJiBhdHRyaWJ1dGUoYWRkcmVzcywgJ2xvY2F0aW9uJykpID8/ICcnLFxuICAgICAgICAgIC4uLihhYm91dCAhPT0gdW5kZWZpbmVkICYmIHsgYWJvdXQgfSksXG4gICAgICAgICAgbmFtZXNwYWNlOiAoaW5wdXRCb2R5ICYmIGF0dHJpYnV0ZShpbnB1dEJvZHksICduYW1lc3BhY2UnKSkgPz8gJycsXG4gICAgICAgICAgaW5wdXQ6IHRoaXMubWVzc2FnZShpbnB1dCwgY2hpbGQoYm91bmQsIHdzZGwsICdpbnB1dCcpLCBuYW1lc3BhY2UpLFxuICAgICAgICAgIC4uLihvdXRwdXQgJiYgeyBvdXRwdXQ6IHRoaXMubWVzc2FnZShvdXRwdXQsIGNoaWxkKGJvdW5kLCB3c2RsLCAnb3V0cHV0JyksIG5hbWVzcGFjZSkgfSksXG4gICAgICAgICAgZmF1bHRzOiBjaGlsZHJlbihvcGVyYXRpb24sIHdzZGwsICdmYXVsdCcpLm1hcCgoZmF1bHQpID0+ICh7XG4gICAgICAgICAgICBuYW1lOiBhdHRyaWJ1dGUoZmF1bHQsICduYW1lJykgPz8gJycsXG4gICAgICAgICAgICBwYXJ0czogdGhpcy5wYXJ0c09mKGZhdWx0LCBhdHRyaWJ1dGUoZmF1bHQsICdtZXNzYWdlJykgPz8gJycpLFxuICAgICAgICAgIH0pKSxcbiAgICAgICAgfSxcbiAgICAgIF07XG4gICAgfSk7XG4gIH1cblxuICBwcml2YXRlIHBhcnRzT2Yobm9kZTogRWxlbWVudCwgbWVzc2FnZTogc3RyaW5nKTogcmVhZG9ubHkgTWVzc2FnZVBhcnRbXSB7XG4gICAgY29uc3QgcGFydHMgPSB0aGlzLm1lc3NhZ2VzLmdldChleHBhbmRlZChub2RlLCBtZXNzYWdlKSk7XG4gICAgaWYgKCFwYXJ0cykgdGhpcy53YXJuaW5ncy5wdXNoKHsgYXQ6IGBtZXNzYWdlICR7bWVzc2FnZX1gLCB3aGF0OiAndGhlIG1lc3NhZ2UgaXMgbm90IGRlc2NyaWJlZCcgfSk7XG4gICAgcmV0dXJuIHBhcnRzID8/IFtdO1xuICB9XG5cbiAgLyoqIFBhcnRzIHRoYXQgdGhlIGJpbmRpbmcgc2VuZHMgYXMgaGVhZGVycyBhcmUgbm90IGluIHRoZSBib2R5LiAqL1xuICBwcml2YXRlIG1lc3NhZ2UoYWJzdHJhY3Q6IEVsZW1lbnQsIGJvdW5kOiBFbGVtZW50IHwgdW5kZWZpbmVkLCBuYW1lc3BhY2U6IHN0cmluZyk6IFNvYXBNZXNzYWdlIHtcbiAgICBjb25zdCBhbGwgPSB0aGlzLnBhcnRzT2YoYWJzdHJhY3QsIGF0dHJpYnV0ZShhYnN0cmFjdCwgJ21lc3NhZ2UnKSA/PyAnJyk7XG4gICAgY29uc3QgYm9keSA9IHNvYXBCb2R5KGJvdW5kLCBuYW1lc3BhY2UpO1xuICAgIGNvbnN0IGxpc3RlZCA9IGJvZHkgJiYgYXR0cmlidXRlKGJvZHksICdwYXJ0cycpPy5zcGxpdCgvXFxzKy8pO1xuICAgIGNvbnN0IGhlYWRlcnMgPSAoYm91bmQgPyBjaGlsZHJlbihib3VuZCwgbmFtZXNwYWNlLCAnaGVhZGVyJykgOiBbXSkuZmxhdE1hcCgoaGVhZGVyKSA9PlxuICAgICAgdGhpcy5wYXJ0c09mKGhlYWRlciwgYXR0cmlidXRlKGhlYWRlciwgJ21lc3NhZ2UnKSA/PyAnJykuZmlsdGVyKCh7IG5hbWUgfSkgPT4gbmFtZSA9PT0gYXR0cmlidXRlKGhlYWRlciwgJ3BhcnQnKSksXG4gICAgKTtcbiAgICBjb25zdCBvd24gPSBhbGwuZmlsdGVyKCh7IG5hbWUgfSkgPT5cbiAgICAgIGxpc3RlZCA/IGxpc3RlZC5pbmNsdWRlcyhuYW1lKSA6ICFoZWFkZXJzLnNvbWUoKGhlYWRlcikgPT4gaGVhZGVyLm5hbWUgPT09IG5hbWUgJiYgYWxsLmluY2x1ZGVzKGhlYWRlcikpLFxuICAgICk7XG4gICAgcmV0dXJuIHsgcGFydHM6IG93biwgaGVhZGVycyB9O1xuICB9XG59XG5cbmNvbnN0IHNvYXBCb2R5ID0gKGJvdW5kOiBFbGVtZW50IHwgdW5kZWZpbmVkLCBuYW1lc3BhY2U6IHN0cmluZyk6IEVsZW1lbnQgfCB1bmRlZmluZWQgPT5cbiAgYm91bmQgJiYgY2hpbGQoYm91bmQsIG5hbWVzcGFjZSwgJ2JvZHknKTtcblxuLyoqIEEgc2NoZW1hIHdpdGhvdXQgYSBuYW1lc3BhY2UgdGFrZXMgdGhhdCBvZiB0aGUgc2NoZW1hIHRoYXQgaW5jbHVkZXMgaXQgKFhNTCBTY2hlbWEgUGFydCAxLCBzZWN0aW9uIDQuMi4xKS4gKi9cbmZ1bmN0aW9uIGNoYW1lbGVvbnNPZihyZWFkOiByZWFkb25seSB7IHJlYWRvbmx5IHBhcnQ6IFBhcnQ7IHJlYWRvbmx5IHJvb3Q6IEVsZW1lbnQgfVtdKTogTWFwPHN0cmluZywgc3RyaW5nPiB7XG4gIGNvbnN0IGZvdW5kID0gbmV3IE1hcDxzdHJpbmcsIHN0cmluZz4oKTtcbiAgZm9yIChjb25zdCB7IHBhcnQsIHJvb3QgfSBvZiByZWFkKSB7XG4gICAgZm9yIChjb25zdCBzY2hlbWEgb2Ygcm9vdC5uYW1lc3BhY2VVUkkgPT09IHhzZCA/IFtyb290XSA6IHNjaGVtYXNJbihyb290KSkge1xuICAgICAgZm9yIChjb25zdCBpbmNsdWRlIG9mIGNoaWxkcmVuKHNjaGVtYSwgeHNkLCAnaW5jbHVkZScpKSB7XG4gICAgICAgIGNvbnN0IGFkZHJlc3MgPSBhZGRyZXNzT2YoYXR0cmlidXRlKGluY2x1ZGUsICdzY2hlbWFMb2NhdGlvbicpID8/ICcnLCBwYXJ0LnVyaSk7XG4gICAgICAgIGNvbnN0IG5hbWVzcGFjZSA9IGF0dHJpYnV0ZShzY2hlbWEsICd0YXJnZXROYW1lc3BhY2UnKTtcbiAgICAgICAgaWYgKGFkZHJlc3MgIT09IHVuZGVmaW5lZCAmJiBuYW1lc3BhY2UgIT09IHVuZGVmaW5lZCkgZm91bmQuc2V0KGFkZHJlc3MsIG5hbWVzcGFjZSk7XG4gICAgICB9XG4gICAgfVxuICB9XG4gIHJldHVybiBmb3VuZDtcbn1cblxuLyoqIEJ5IGl0cyBvd24gbmFtZSB3aGVyZSBvbmx5IG9uZSBwb3J0IGhhcyBpdCwgZWxzZSBiZWhpbmQgdGhlIG5hbWUgb2YgaXRzIHBvcnQuICovXG5mdW5jdGlvbiBuYW1lZChvcGVyYXRpb25zOiByZWFkb25seSBPd25Tb2FwT3BlcmF0aW9uW10pOiBPcGVyYXRpb25FbnRyeVtdIHtcbiAgY29uc3QgY291bnQgPSBuZXcgTWFwPHN0cmluZywgbnVtYmVyPigpO1xuICBmb3IgKGNvbnN0IHsgb3BlcmF0aW9uIH0gb2Ygb3BlcmF0aW9ucykgY291bnQuc2V0KG9wZXJhdGlvbiwgKGNvdW50LmdldChvcGVyYXRpb24pID8/IDApICsgMSk7XG4gIGNvbnN0IHRha2VuID0gbmV3IFNldDxzdHJpbmc+KCk7XG4gIHJldHVybiBvcGVyYXRpb25zLm1hcCgob3duKSA9PiB7XG4gICAgY29uc3QgYmFzZSA9IGNvdW50LmdldChvd24ub3BlcmF0aW9uKSA9PT0gMSA/IG93bi5vcGVyYXRpb24gOiBgJHtvd24ucG9ydH0uJHtvd24ub3BlcmF0aW9ufWA7XG4gICAgbGV0IGlkID0gYmFzZTtcbiAgICBmb3IgKGxldCBhZ2FpbiA9IDI7IHRha2VuLmhhcyhpZCk7IGFnYWluICs9IDEpIGlkID0gYCR7YmFzZX0tJHthZ2Fpbn1gO1xuICAgIHRha2VuLmFkZChpZCk7XG4gICAgcmV0dXJuIHtcbiAgICAgIGlkLFxuICAgICAgZ3JvdXA6IG93bi5zZXJ2aWNlLFxuICAgICAgLi4uKG93bi5hYm91dCAhPT0gdW5kZWZpbmVkICYmIHsgc3VtbWFyeTogb3duLmFib3V0LnNwbGl0KC8oPzw9XFwuKVxccy8pWzBdID8/IG93bi5hYm91dCB9KSxcbiAgICAgIG1ldGhvZDogYFNPQVAgJHtvd24udmVyc2lvbn1gLFxuICAgICAgcGF0aDogb3duLm9wZXJhdGlvbixcbiAgICAgIG93bjogb3duIGFzIHVua25vd24gYXMgVmFsdWUsXG4gICAgfTtcbiAgfSk7XG59XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7QUFDQSxTQUFTLFdBQXlCLDBCQUEwQjtBQU01RCxJQUFNLFNBQVMsb0JBQUksUUFBdUI7QUFHbkMsU0FBUyxPQUFPLE1BQXFCO0FBQzFDLFFBQU0sUUFBUSxPQUFPLElBQUksSUFBSTtBQUM3QixNQUFJLE1BQU8sUUFBTztBQUNsQixRQUFNLEVBQUUsTUFBTSxLQUFLLElBQUk7QUFDdkIsTUFBSSxZQUFZLEtBQUssSUFBSSxHQUFHO0FBQzFCLFVBQU0sSUFBSSxRQUFRLHVCQUF1QjtBQUFBLE1BQ3ZDLE1BQU0sR0FBRyxJQUFJO0FBQUEsTUFDYixPQUFPLEVBQUUsTUFBTSxNQUFNLEtBQUssTUFBTSxHQUFHLEtBQUssT0FBTyxXQUFXLENBQUMsRUFBRSxNQUFNLElBQUksRUFBRSxPQUFPO0FBQUEsTUFDaEYsT0FBTztBQUFBLE1BQ1AsUUFBUTtBQUFBLElBQ1YsQ0FBQztBQUFBLEVBQ0g7QUFDQSxNQUFJO0FBQ0osTUFBSTtBQUNGLFdBQU8sSUFBSSxVQUFVLEVBQUUsU0FBUyxvQkFBb0IsU0FBUyxLQUFLLENBQUMsRUFBRTtBQUFBLE1BQ25FO0FBQUEsTUFDQTtBQUFBLElBQ0YsRUFBRTtBQUFBLEVBQ0osU0FBUyxPQUFPO0FBQ2QsUUFBSSxpQkFBaUIsV0FBWSxPQUFNO0FBQ3ZDLFVBQU0sRUFBRSxTQUFTLFFBQVEsSUFBSTtBQUM3QixVQUFNLElBQUksUUFBUSx1QkFBdUI7QUFBQSxNQUN2QyxNQUFNLEdBQUcsSUFBSTtBQUFBLE1BQ2IsT0FBTztBQUFBLFFBQ0w7QUFBQSxRQUNBLEdBQUksU0FBUyxlQUFlLFVBQWEsRUFBRSxNQUFNLFFBQVEsV0FBVztBQUFBLFFBQ3BFLEdBQUksU0FBUyxpQkFBaUIsVUFBYSxFQUFFLFFBQVEsUUFBUSxhQUFhO0FBQUEsTUFDNUU7QUFBQSxNQUNBLE9BQU8sUUFBUSxRQUFRLHVCQUF1QixFQUFFLEVBQUUsTUFBTSxJQUFJLEVBQUUsQ0FBQztBQUFBLElBQ2pFLENBQUM7QUFBQSxFQUNIO0FBQ0EsTUFBSSxDQUFDLEtBQU0sT0FBTSxJQUFJLFFBQVEsdUJBQXVCLEVBQUUsTUFBTSxHQUFHLElBQUksbUJBQW1CLE9BQU8sRUFBRSxLQUFLLEVBQUUsQ0FBQztBQUN2RyxTQUFPLElBQUksTUFBTSxJQUFJO0FBQ3JCLFNBQU87QUFDVDtBQUdPLFNBQVMsU0FBUyxTQUFrQixXQUFtQixNQUEwQjtBQUN0RixRQUFNLFFBQW1CLENBQUM7QUFDMUIsV0FBUyxPQUFPLFFBQVEsWUFBWSxNQUFNLE9BQU8sS0FBSyxhQUFhO0FBQ2pFLFVBQU0sTUFBTTtBQUNaLFFBQUksS0FBSyxhQUFhLEtBQUssSUFBSSxpQkFBaUIsY0FBYyxTQUFTLFVBQWEsSUFBSSxjQUFjO0FBQ3BHLFlBQU0sS0FBSyxHQUFHO0FBQUEsRUFDbEI7QUFDQSxTQUFPO0FBQ1Q7QUFFTyxJQUFNLFFBQVEsQ0FBQyxTQUFrQixXQUFtQixTQUN6RCxTQUFTLFNBQVMsV0FBVyxJQUFJLEVBQUUsQ0FBQztBQUUvQixJQUFNLFlBQVksQ0FBQyxTQUFrQixTQUMxQyxRQUFRLGFBQWEsSUFBSSxLQUFLO0FBR3pCLFNBQVMsU0FBUyxTQUFrQixNQUFzQjtBQUMvRCxRQUFNLENBQUMsUUFBUSxJQUFJLE1BQU0sSUFBSSxLQUFLLEtBQUssRUFBRSxNQUFNLEdBQUc7QUFDbEQsUUFBTSxTQUFTLFdBQVcsU0FBWSxPQUFPO0FBQzdDLFNBQU8sTUFBTSxRQUFRLG1CQUFtQixNQUFNLEtBQUssSUFBSSxVQUFVLEtBQUs7QUFDeEU7QUFFTyxJQUFNLFFBQVEsQ0FBQyxXQUFtQixVQUEwQixJQUFJLFNBQVMsSUFBSSxLQUFLO0FBRWxGLElBQU0sVUFBVSxDQUFDLFNBQXlCLEtBQUssTUFBTSxLQUFLLFFBQVEsR0FBRyxJQUFJLENBQUM7QUFHMUUsSUFBTSxTQUFTLENBQUMsWUFBcUQ7QUFDMUUsUUFBTSxPQUFPLFNBQVMsYUFBYSxRQUFRLFFBQVEsR0FBRyxFQUFFLEtBQUs7QUFDN0QsU0FBTyxTQUFTLEtBQUssU0FBWTtBQUNuQzs7O0FDekRBLElBQU0sVUFBVTtBQUdULFNBQVMsWUFDZCxTQUNBLFVBQ1c7QUFDWCxRQUFNLFNBQVMsb0JBQUksSUFBdUI7QUFDMUMsUUFBTSxrQkFBa0Isb0JBQUksSUFBdUI7QUFDbkQsUUFBTSxtQkFBbUIsb0JBQUksSUFBdUI7QUFDcEQsUUFBTSxNQUFpQixFQUFFLFVBQVUsb0JBQUksSUFBSSxHQUFHLE9BQU8sb0JBQUksSUFBSSxFQUFFO0FBQy9ELFFBQU0sV0FBVyxRQUFRLElBQUksQ0FBQyxFQUFFLE1BQU0sVUFBVSxPQUFPO0FBQUEsSUFDckQ7QUFBQSxJQUNBLFFBQVE7QUFBQSxNQUNOLFdBQVcsVUFBVSxNQUFNLGlCQUFpQixLQUFLLGFBQWE7QUFBQSxNQUM5RCxXQUFXLFVBQVUsTUFBTSxvQkFBb0IsTUFBTTtBQUFBLE1BQ3JELHFCQUFxQixVQUFVLE1BQU0sc0JBQXNCLE1BQU07QUFBQSxJQUNuRTtBQUFBLEVBQ0YsRUFBRTtBQUNGLGFBQVcsRUFBRSxNQUFNLE9BQU8sS0FBSyxVQUFVO0FBQ3ZDLGVBQVcsQ0FBQyxNQUFNLElBQUksS0FBSztBQUFBLE1BQ3pCLENBQUMsU0FBUyxNQUFNO0FBQUEsTUFDaEIsQ0FBQyxrQkFBa0IsZUFBZTtBQUFBLE1BQ2xDLENBQUMsYUFBYSxnQkFBZ0I7QUFBQSxJQUNoQztBQUNFLGlCQUFXLE9BQU8sU0FBUyxNQUFNLEtBQUssSUFBSTtBQUN4QyxhQUFLLElBQUksTUFBTSxPQUFPLFdBQVcsVUFBVSxLQUFLLE1BQU0sS0FBSyxFQUFFLEdBQUcsRUFBRSxNQUFNLEtBQUssT0FBTyxDQUFDO0FBQUEsRUFDM0Y7QUFDQSxhQUFXLEVBQUUsTUFBTSxPQUFPLEtBQUssVUFBVTtBQUN2QyxlQUFXLE9BQU8sU0FBUyxNQUFNLEtBQUssU0FBUztBQUM3QyxVQUFJLFNBQVMsSUFBSSxNQUFNLE9BQU8sV0FBVyxVQUFVLEtBQUssTUFBTSxLQUFLLEVBQUUsR0FBRyxRQUFRLEtBQUssUUFBUSxHQUFHLElBQUksQ0FBQztBQUN2RyxlQUFXLFFBQVEsQ0FBQyxlQUFlLFlBQVk7QUFDN0MsaUJBQVcsT0FBTyxTQUFTLE1BQU0sS0FBSyxJQUFJO0FBQ3hDLFlBQUksTUFBTSxJQUFJLE1BQU0sT0FBTyxXQUFXLFVBQVUsS0FBSyxNQUFNLEtBQUssRUFBRSxHQUFHLEtBQUssS0FBSyxRQUFRLENBQUMsQ0FBQztBQUFBLEVBQy9GO0FBQ0EsU0FBTztBQUVQLFdBQVMsUUFBUSxNQUFlLFFBQXVCLE9BQWUsU0FBUyxPQUFtQjtBQUNoRyxVQUFNLFFBQVEsT0FBTyxVQUFVLE1BQU0sV0FBVyxLQUFLLENBQUM7QUFDdEQsVUFBTSxPQUFPLFVBQVUsTUFBTSxXQUFXLE1BQU0sY0FBYyxLQUFLLE9BQU8sVUFBVSxNQUFNLFdBQVcsS0FBSyxDQUFDO0FBQ3pHLFVBQU0sTUFBTSxVQUFVLE1BQU0sS0FBSztBQUNqQyxRQUFJLFFBQVEsUUFBVztBQUNyQixZQUFNLE9BQU8sU0FBUyxNQUFNLEdBQUc7QUFDL0IsYUFBTztBQUFBLFFBQ0wsT0FBTyxLQUFLLE1BQU0sS0FBSyxRQUFRLEdBQUcsSUFBSSxDQUFDO0FBQUEsUUFDdkMsV0FBVyxLQUFLLE1BQU0sR0FBRyxLQUFLLFFBQVEsR0FBRyxDQUFDO0FBQUEsUUFDMUMsS0FBSztBQUFBLFFBQ0w7QUFBQSxRQUNBO0FBQUEsTUFDRjtBQUFBLElBQ0Y7QUFDQSxVQUFNLFlBQVksV0FBVyxVQUFVLE1BQU0sTUFBTSxNQUFNLE9BQU8sWUFBWSxjQUFjLFNBQVM7QUFDbkcsVUFBTUEsU0FBUSxVQUFVLE1BQU0sTUFBTTtBQUNwQyxVQUFNLFFBQVEsTUFBTSxNQUFNLEtBQUssYUFBYSxLQUFLLE1BQU0sTUFBTSxLQUFLLFlBQVk7QUFDOUUsV0FBTztBQUFBLE1BQ0wsT0FBTyxVQUFVLE1BQU0sTUFBTSxLQUFLO0FBQUEsTUFDbEMsV0FBVyxZQUFZLE9BQU8sWUFBWTtBQUFBLE1BQzFDLEdBQUlBLFdBQVUsVUFBYSxFQUFFLE1BQU0sU0FBUyxNQUFNQSxNQUFLLEVBQUU7QUFBQSxNQUN6RCxHQUFJLFNBQVMsUUFBUSxXQUFXLEVBQUUsUUFBUSxLQUFLLE9BQU8sUUFBUSxRQUFRLENBQUMsRUFBRTtBQUFBLE1BQ3pFO0FBQUEsTUFDQTtBQUFBLE1BQ0EsR0FBSSxVQUFVLE1BQU0sVUFBVSxNQUFNLFVBQVUsRUFBRSxVQUFVLEtBQWM7QUFBQSxNQUN4RSxHQUFHLFFBQVEsV0FBVyxVQUFVLE1BQU0sU0FBUyxDQUFDO0FBQUEsTUFDaEQsR0FBRyxRQUFRLFNBQVMsVUFBVSxNQUFNLE9BQU8sQ0FBQztBQUFBLE1BQzVDLEdBQUcsUUFBUSxTQUFTLFFBQVEsSUFBSSxDQUFDO0FBQUEsSUFDbkM7QUFBQSxFQUNGO0FBRUEsV0FBUyxLQUFLLE1BQWUsUUFBdUIsT0FBd0I7QUFDMUUsVUFBTSxRQUFRLFFBQVEsU0FBUyxRQUFRLElBQUksQ0FBQztBQUM1QyxRQUFJLEtBQUssY0FBYyxhQUFjLFFBQU8sRUFBRSxHQUFHLE9BQU8sR0FBRyxPQUFPLE1BQU0sUUFBUSxLQUFLLEVBQUU7QUFDdkYsVUFBTSxnQkFBZ0IsTUFBTSxNQUFNLEtBQUssZUFBZTtBQUN0RCxVQUFNLGlCQUFpQixNQUFNLE1BQU0sS0FBSyxnQkFBZ0I7QUFDeEQsVUFBTSxTQUFTLGlCQUFpQjtBQUNoQyxVQUFNLFVBQVUsV0FBVyxNQUFNLFFBQVEsS0FBSyxXQUFXLEtBQUssTUFBTSxRQUFRLEtBQUssYUFBYTtBQUM5RixVQUFNLE9BQU8sV0FBVztBQUN4QixVQUFNLFVBQVUsV0FBVyxNQUFNLFFBQVEsS0FBSztBQUM5QyxVQUFNLGFBQWEsYUFBYSxNQUFNLFFBQVEsS0FBSztBQUNuRCxVQUFNLE9BQU8sV0FBVyxVQUFVLFNBQVMsTUFBTTtBQUNqRCxXQUFPO0FBQUEsTUFDTCxHQUFHO0FBQUEsTUFDSCxRQUFRO0FBQUEsTUFDUixHQUFJLFdBQ0YsU0FBUyxVQUFhO0FBQUEsUUFDcEIsTUFBTSxTQUFTLFNBQVMsSUFBSTtBQUFBLFFBQzVCLFlBQVksUUFBUSxjQUFjLGNBQWUsY0FBeUI7QUFBQSxNQUM1RTtBQUFBLE1BQ0YsR0FBSSxXQUFXLEVBQUUsUUFBUTtBQUFBLE1BQ3pCLEdBQUksV0FBVyxTQUFTLEtBQUssRUFBRSxXQUFXO0FBQUEsSUFDNUM7QUFBQSxFQUNGO0FBRUEsV0FBUyxPQUFPLE1BQWUsUUFBdUIsT0FBd0I7QUFDNUUsVUFBTSxjQUFjLE1BQU0sTUFBTSxLQUFLLGFBQWE7QUFDbEQsVUFBTSxPQUFPLE1BQU0sTUFBTSxLQUFLLE1BQU07QUFDcEMsUUFBSSxNQUFNO0FBQ1IsWUFBTSxPQUFPLFVBQVUsTUFBTSxVQUFVO0FBQ3ZDLGFBQU87QUFBQSxRQUNMLFFBQVE7QUFBQSxRQUNSLFlBQVk7QUFBQSxRQUNaLE1BQU0sU0FBUyxTQUFZLE1BQU0sS0FBSyxRQUFRLElBQUksU0FBUyxNQUFNLElBQUk7QUFBQSxNQUN2RTtBQUFBLElBQ0Y7QUFDQSxRQUFJLENBQUMsYUFBYTtBQUNoQixZQUFNLFVBQVUsTUFBTSxNQUFNLEtBQUssT0FBTztBQUN4QyxZQUFNQyxXQUFVLFVBQ1osU0FBUyxTQUFTLEtBQUssWUFBWSxFQUFFLFFBQVEsQ0FBQyxRQUFRLE9BQU8sS0FBSyxRQUFRLFFBQVEsQ0FBQyxFQUFFLFdBQVcsQ0FBQyxDQUFDLElBQ2xHLENBQUM7QUFDTCxhQUFPLEVBQUUsUUFBUSxNQUFNLFlBQVksU0FBUyxNQUFNLE1BQU0sS0FBSyxRQUFRLEdBQUcsR0FBSUEsU0FBUSxTQUFTLEtBQUssRUFBRSxTQUFBQSxTQUFRLEVBQUc7QUFBQSxJQUNqSDtBQUNBLFVBQU0sT0FBTyxVQUFVLGFBQWEsTUFBTTtBQUMxQyxVQUFNLFFBQVEsTUFBTSxhQUFhLEtBQUssWUFBWTtBQUNsRCxVQUFNLFVBQVUsU0FBUyxhQUFhLEtBQUssYUFBYSxFQUFFLElBQUksQ0FBQyxRQUFRLFVBQVUsS0FBSyxPQUFPLEtBQUssRUFBRTtBQUNwRyxVQUFNLFNBQVMsT0FBTyxXQUFXO0FBQ2pDLFVBQU0sU0FBUyxTQUFTLFFBQVEsVUFBVSxPQUFPLE9BQU8sUUFBUSxRQUFRLENBQUMsSUFBSTtBQUM3RSxXQUFPO0FBQUEsTUFDTCxRQUFRO0FBQUEsTUFDUixZQUFZO0FBQUEsTUFDWixNQUFNLFNBQVMsU0FBYSxRQUFRLFFBQVEsTUFBTSxLQUFLLFFBQVEsSUFBSyxTQUFTLGFBQWEsSUFBSTtBQUFBLE1BQzlGLEdBQUksUUFBUSxTQUFTLEtBQUssRUFBRSxRQUFRO0FBQUEsTUFDcEMsR0FBSSxPQUFPLEtBQUssTUFBTSxFQUFFLFNBQVMsS0FBSyxFQUFFLE9BQU87QUFBQSxJQUNqRDtBQUFBLEVBQ0Y7QUFFQSxXQUFTLFdBQVcsTUFBZSxRQUF1QixPQUFxQztBQUM3RixlQUFXLE9BQU8sU0FBUyxNQUFNLEdBQUcsR0FBRztBQUNyQyxZQUFNLFFBQVEsU0FBUyxLQUFLLFFBQVEsS0FBSztBQUN6QyxVQUFJLE1BQU8sUUFBTztBQUFBLElBQ3BCO0FBQ0EsV0FBTztBQUFBLEVBQ1Q7QUFFQSxXQUFTLFNBQVMsTUFBZSxRQUF1QixPQUFxQztBQUMzRixRQUFJLFFBQVEsUUFBUyxRQUFPO0FBQzVCLFVBQU0sUUFBUSxPQUFPLFVBQVUsTUFBTSxXQUFXLEtBQUssQ0FBQztBQUN0RCxVQUFNLE9BQU8sVUFBVSxNQUFNLFdBQVcsTUFBTSxjQUFjLEtBQUssT0FBTyxVQUFVLE1BQU0sV0FBVyxLQUFLLENBQUM7QUFDekcsWUFBUSxLQUFLLFdBQVc7QUFBQSxNQUN0QixLQUFLO0FBQ0gsZUFBTyxFQUFFLElBQUksV0FBVyxTQUFTLFFBQVEsTUFBTSxRQUFRLEtBQUssRUFBRTtBQUFBLE1BQ2hFLEtBQUs7QUFDSCxlQUFPLEVBQUUsSUFBSSxPQUFPLE1BQU07QUFBQSxNQUM1QixLQUFLO0FBQUEsTUFDTCxLQUFLO0FBQUEsTUFDTCxLQUFLO0FBQ0gsZUFBTztBQUFBLFVBQ0wsSUFBSSxLQUFLO0FBQUEsVUFDVDtBQUFBLFVBQ0E7QUFBQSxVQUNBLE9BQU8sU0FBUyxNQUFNLEdBQUcsRUFBRSxRQUFRLENBQUMsUUFBUSxTQUFTLEtBQUssUUFBUSxRQUFRLENBQUMsS0FBSyxDQUFDLENBQUM7QUFBQSxRQUNwRjtBQUFBLE1BQ0YsS0FBSyxTQUFTO0FBQ1osY0FBTSxNQUFNLFVBQVUsTUFBTSxLQUFLO0FBQ2pDLGNBQU0sUUFBUSxRQUFRLFNBQVksU0FBWSxPQUFPLElBQUksU0FBUyxNQUFNLEdBQUcsQ0FBQztBQUM1RSxZQUFJLE1BQU8sUUFBTyxXQUFXLE1BQU0sTUFBTSxNQUFNLFFBQVEsUUFBUSxDQUFDO0FBQ2hFLFlBQUksUUFBUSxPQUFXLFVBQVMsS0FBSyxFQUFFLElBQUksU0FBUyxHQUFHLElBQUksTUFBTSw2QkFBNkIsQ0FBQztBQUMvRixlQUFPO0FBQUEsTUFDVDtBQUFBLE1BQ0E7QUFDRSxlQUFPO0FBQUEsSUFDWDtBQUFBLEVBQ0Y7QUFFQSxXQUFTLGFBQWEsTUFBZSxRQUF1QixPQUErQjtBQUN6RixXQUFPLFNBQVMsTUFBTSxHQUFHLEVBQUUsUUFBUSxDQUFDLFFBQVE7QUFDMUMsVUFBSSxJQUFJLGNBQWMsa0JBQWtCO0FBQ3RDLGNBQU0sUUFBUSxnQkFBZ0IsSUFBSSxTQUFTLEtBQUssVUFBVSxLQUFLLEtBQUssS0FBSyxFQUFFLENBQUM7QUFDNUUsZUFBTyxTQUFTLFFBQVEsVUFBVSxhQUFhLE1BQU0sTUFBTSxNQUFNLFFBQVEsUUFBUSxDQUFDLElBQUksQ0FBQztBQUFBLE1BQ3pGO0FBQ0EsVUFBSSxJQUFJLGNBQWMsZUFBZSxVQUFVLEtBQUssS0FBSyxNQUFNLGFBQWMsUUFBTyxDQUFDO0FBQ3JGLFlBQU0sTUFBTSxVQUFVLEtBQUssS0FBSztBQUNoQyxZQUFNLFNBQVMsUUFBUSxTQUFZLFNBQVksaUJBQWlCLElBQUksU0FBUyxLQUFLLEdBQUcsQ0FBQztBQUN0RixZQUFNLFlBQVksUUFBUSxRQUFRO0FBQ2xDLFlBQU1ELFNBQVEsVUFBVSxXQUFXLE1BQU07QUFDekMsWUFBTSxRQUFRLE1BQU0sV0FBVyxLQUFLLFlBQVk7QUFDaEQsWUFBTSxZQUNKLFdBQVcsV0FDVixVQUFVLEtBQUssTUFBTSxNQUFNLE9BQU8sc0JBQXNCLGNBQWMsU0FBUztBQUNsRixhQUFPO0FBQUEsUUFDTDtBQUFBLFVBQ0UsTUFBTSxVQUFVLFdBQVcsTUFBTSxLQUFLLE9BQU87QUFBQSxVQUM3QyxHQUFJLGFBQWEsRUFBRSxZQUFZLFFBQVEsVUFBVSxRQUFRLFVBQVU7QUFBQSxVQUNuRSxHQUFJQSxXQUFVLFVBQWEsRUFBRSxNQUFNLFNBQVMsV0FBV0EsTUFBSyxFQUFFO0FBQUEsVUFDOUQsR0FBSSxTQUFTLEVBQUUsUUFBUSxPQUFPLE9BQU8sUUFBUSxRQUFRLENBQUMsRUFBRTtBQUFBLFVBQ3hELFVBQVUsVUFBVSxLQUFLLEtBQUssTUFBTTtBQUFBLFVBQ3BDLEdBQUcsUUFBUSxXQUFXLFVBQVUsS0FBSyxTQUFTLENBQUM7QUFBQSxVQUMvQyxHQUFHLFFBQVEsU0FBUyxVQUFVLEtBQUssT0FBTyxDQUFDO0FBQUEsVUFDM0MsR0FBRyxRQUFRLFNBQVMsUUFBUSxTQUFTLENBQUM7QUFBQSxRQUN4QztBQUFBLE1BQ0Y7QUFBQSxJQUNGLENBQUM7QUFBQSxFQUNIO0FBQ0Y7QUFFQSxTQUFTLFFBQVEsTUFBbUM7QUFDbEQsUUFBTSxhQUFhLE1BQU0sTUFBTSxLQUFLLFlBQVk7QUFDaEQsU0FBTyxjQUFjLE9BQU8sTUFBTSxZQUFZLEtBQUssZUFBZSxDQUFDO0FBQ3JFO0FBRUEsU0FBUyxRQUEwQixLQUFRLE9BQWtEO0FBQzNGLFNBQU8sVUFBVSxTQUFZLENBQUMsSUFBSyxFQUFFLENBQUMsR0FBRyxHQUFHLE1BQU07QUFDcEQ7QUFHQSxJQUFNLGFBQWE7QUFBQSxFQUNqQixjQUFjO0FBQUEsRUFDZCxjQUFjO0FBQUEsRUFDZCxjQUFjO0FBQUEsRUFDZCxjQUFjO0FBQUEsRUFDZCxXQUFXO0FBQUEsRUFDWCxXQUFXO0FBQ2I7QUFFQSxTQUFTLE9BQU8sYUFBOEI7QUFDNUMsUUFBTSxTQUEwQyxDQUFDO0FBQ2pELGFBQVcsQ0FBQyxPQUFPLElBQUksS0FBSyxPQUFPLFFBQVEsVUFBVSxHQUFHO0FBQ3RELFVBQU0sUUFBUSxPQUFPLFlBQVksYUFBYSxLQUFLLENBQUM7QUFDcEQsUUFBSSxZQUFZLGFBQWEsS0FBSyxNQUFNLFVBQWEsQ0FBQyxPQUFPLE1BQU0sS0FBSyxFQUFHLFFBQU8sSUFBSSxJQUFJO0FBQUEsRUFDNUY7QUFDQSxRQUFNLFNBQVMsWUFBWSxhQUFhLFFBQVE7QUFDaEQsTUFBSSxXQUFXLE9BQVcsUUFBTyxjQUFjLElBQUksT0FBTyxhQUFhLElBQUksT0FBTyxNQUFNO0FBQ3hGLFFBQU0sVUFBVSxZQUFZLGFBQWEsU0FBUztBQUNsRCxNQUFJLFlBQVksT0FBVyxRQUFPLFVBQVUsT0FBTyxPQUFPO0FBQzFELFNBQU87QUFDVDtBQUVBLElBQU0sY0FBYyxDQUFDLGFBQXNCLFVBQXNDO0FBQy9FLFFBQU0sT0FBTyxNQUFNLGFBQWEsS0FBSyxLQUFLO0FBQzFDLFNBQU8sUUFBUSxVQUFVLE1BQU0sT0FBTztBQUN4Qzs7O0FDeE9BLElBQU0sT0FBTztBQUNiLElBQU0sZUFBd0Q7QUFBQSxFQUM1RCx5Q0FBeUM7QUFBQSxFQUN6QywyQ0FBMkM7QUFDN0M7QUFHTyxTQUFTLGNBQWMsTUFBc0I7QUFDbEQsUUFBTSxPQUFPLE9BQU8sSUFBSTtBQUN4QixRQUFNLFVBQVUsS0FBSyxpQkFBaUIsTUFBTSxDQUFDLElBQUksSUFBSSxVQUFVLElBQUk7QUFDbkUsUUFBTSxZQUFZO0FBQUEsSUFDaEIsR0FBRyxTQUFTLE1BQU0sTUFBTSxRQUFRLEVBQUUsSUFBSSxDQUFDLFFBQVEsVUFBVSxLQUFLLFVBQVUsQ0FBQztBQUFBLElBQ3pFLEdBQUcsUUFBUTtBQUFBLE1BQVEsQ0FBQyxXQUNsQixDQUFDLFVBQVUsV0FBVyxVQUFVLEVBQUU7QUFBQSxRQUFRLENBQUMsU0FDekMsU0FBUyxRQUFRLEtBQUssSUFBSSxFQUFFLElBQUksQ0FBQyxRQUFRLFVBQVUsS0FBSyxnQkFBZ0IsQ0FBQztBQUFBLE1BQzNFO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFDQSxTQUFPLENBQUMsR0FBRyxJQUFJLElBQUksVUFBVSxPQUFPLENBQUMsUUFBUSxRQUFRLE1BQVMsQ0FBQyxDQUFDO0FBQ2xFO0FBRUEsSUFBTSxZQUFZLENBQUMsZ0JBQ2pCLFNBQVMsYUFBYSxNQUFNLE9BQU8sRUFBRSxRQUFRLENBQUMsVUFBVSxTQUFTLE9BQU8sS0FBSyxRQUFRLENBQUM7QUFHakYsU0FBUyxTQUFTLFdBQXNCLFFBQStCO0FBQzVFLFFBQU0sVUFBVSxJQUFJLFFBQVEsU0FBUztBQUNyQyxRQUFNLE9BQU8sT0FBTyxVQUFVLElBQUk7QUFDbEMsTUFBSSxLQUFLLGlCQUFpQixNQUFNO0FBQzlCLFVBQU0sSUFBSSxRQUFRLHVCQUF1QjtBQUFBLE1BQ3ZDLE1BQU0sR0FBRyxVQUFVLEtBQUssSUFBSTtBQUFBLE1BQzVCLFFBQVE7QUFBQSxJQUNWLENBQUM7QUFBQSxFQUNIO0FBQ0EsUUFBTSxhQUFhLFFBQVEsV0FBVztBQUN0QyxRQUFNLEVBQUUsVUFBVSxRQUFRLElBQUk7QUFDOUIsTUFBSSxXQUFXLFdBQVcsRUFBRyxVQUFTLEtBQUssRUFBRSxJQUFJLGVBQWUsTUFBTSwyQ0FBMkMsQ0FBQztBQUNsSCxRQUFNLGNBQWMsb0JBQUksSUFBbUI7QUFDM0MsUUFBTSxRQUFRLG9CQUFJLElBQW9CO0FBQ3RDLGFBQVcsQ0FBQyxNQUFNLElBQUksS0FBSyxRQUFRLE9BQU87QUFDeEMsZ0JBQVksSUFBSSxRQUFRLElBQUksR0FBRyxJQUF3QjtBQUN2RCxVQUFNLElBQUksUUFBUSxJQUFJLEdBQUcsUUFBUSxJQUFJLENBQUM7QUFBQSxFQUN4QztBQUNBLGFBQVcsQ0FBQyxNQUFNLE9BQU8sS0FBSyxRQUFRLFNBQVUsYUFBWSxJQUFJLFdBQVcsSUFBSSxHQUFHLE9BQTJCO0FBQzdHLFNBQU87QUFBQSxJQUNMLFFBQVE7QUFBQSxJQUNSLFNBQVM7QUFBQSxJQUNULE9BQU8sT0FBTyxNQUFNLE1BQU0sTUFBTSxlQUFlLENBQUMsS0FBSyxVQUFVLE1BQU0sTUFBTSxLQUFLO0FBQUEsSUFDaEYsU0FBUyxDQUFDLEdBQUcsSUFBSSxJQUFJLFdBQVcsSUFBSSxDQUFDLEVBQUUsSUFBSSxNQUFPLElBQW9DLE9BQU8sQ0FBQyxDQUFDLEVBQUUsSUFBSSxDQUFDLFNBQVM7QUFBQSxNQUM3RztBQUFBLE1BQ0EsV0FBVyxDQUFDO0FBQUEsSUFDZCxFQUFFO0FBQUEsSUFDRjtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQSxVQUFVLENBQUM7QUFBQSxJQUNYO0FBQUEsRUFDRjtBQUNGO0FBRUEsSUFBTSxVQUFOLE1BQWM7QUFBQSxFQUNILFdBQXNCLENBQUM7QUFBQSxFQUN2QjtBQUFBLEVBQ1E7QUFBQSxFQUNBO0FBQUEsRUFFakIsWUFBWSxXQUFzQjtBQUNoQyxVQUFNLFFBQVEsQ0FBQyxHQUFHLFVBQVUsTUFBTSxPQUFPLENBQUMsRUFBRSxPQUFPLENBQUMsRUFBRSxTQUFTLE1BQU0sYUFBYSxLQUFLO0FBQ3ZGLFVBQU0sT0FBTyxNQUFNLElBQUksQ0FBQyxVQUFVLEVBQUUsTUFBTSxNQUFNLE9BQU8sSUFBSSxFQUFFLEVBQUU7QUFDL0QsU0FBSyxRQUFRLEtBQUssSUFBSSxDQUFDLEVBQUUsS0FBSyxNQUFNLElBQUksRUFBRSxPQUFPLENBQUMsU0FBUyxLQUFLLGlCQUFpQixJQUFJO0FBQ3JGLFNBQUssWUFBWSxTQUFTO0FBQzFCLFVBQU0sYUFBYSxhQUFhLElBQUk7QUFDcEMsVUFBTSxVQUFVLEtBQUs7QUFBQSxNQUFRLENBQUMsRUFBRSxNQUFNLEtBQUssTUFDekMsS0FBSyxpQkFBaUIsTUFDbEIsQ0FBQyxFQUFFLE1BQU0sTUFBTSxXQUFXLFdBQVcsSUFBSSxLQUFLLEdBQUcsRUFBRSxDQUFDLElBQ3BELFVBQVUsSUFBSSxFQUFFLElBQUksQ0FBQyxVQUFVLEVBQUUsS0FBSyxFQUFFO0FBQUEsSUFDOUM7QUFDQSxTQUFLLFVBQVUsWUFBWSxTQUFTLEtBQUssUUFBUTtBQUNqRCxTQUFLLFdBQVcsSUFBSTtBQUFBLE1BQ2xCLEtBQUssSUFBSSxTQUFTLEVBQUUsSUFBSSxDQUFDLFlBQVk7QUFBQSxRQUNuQyxLQUFLLE9BQU8sT0FBTztBQUFBLFFBQ25CLFNBQVMsU0FBUyxNQUFNLE1BQU0sRUFBRSxJQUFJLENBQUMsU0FBUztBQUM1QyxnQkFBTSxDQUFDLFNBQVMsSUFBSSxJQUFJLENBQUMsVUFBVSxNQUFNLFNBQVMsR0FBRyxVQUFVLE1BQU0sTUFBTSxDQUFDO0FBQzVFLGlCQUFPO0FBQUEsWUFDTCxNQUFNLFVBQVUsTUFBTSxNQUFNLEtBQUs7QUFBQSxZQUNqQyxHQUFJLFlBQVksVUFBYSxFQUFFLFNBQVMsU0FBUyxNQUFNLE9BQU8sRUFBRTtBQUFBLFlBQ2hFLEdBQUksU0FBUyxVQUFhLEVBQUUsTUFBTSxTQUFTLE1BQU0sSUFBSSxFQUFFO0FBQUEsVUFDekQ7QUFBQSxRQUNGLENBQUM7QUFBQSxNQUNILENBQUM7QUFBQSxJQUNIO0FBQUEsRUFDRjtBQUFBLEVBRVEsWUFBWSxFQUFFLE1BQU0sR0FBb0I7QUFDOUMsZUFBVyxRQUFRLE1BQU0sT0FBTyxHQUFHO0FBQ2pDLFVBQUksS0FBSyxhQUFhLE1BQU87QUFDN0IsaUJBQVcsYUFBYSxjQUFjLElBQUksR0FBRztBQUMzQyxjQUFNLFVBQVUsVUFBVSxXQUFXLEtBQUssR0FBRztBQUM3QyxZQUFJLFlBQVksVUFBYSxDQUFDLE1BQU0sSUFBSSxPQUFPO0FBQzdDLGVBQUssU0FBUyxLQUFLLEVBQUUsSUFBSSxLQUFLLE1BQU0sTUFBTSxHQUFHLFNBQVMsOENBQThDLENBQUM7QUFBQSxNQUN6RztBQUFBLElBQ0Y7QUFBQSxFQUNGO0FBQUEsRUFFUSxJQUFJLE1BQXlCO0FBQ25DLFdBQU8sS0FBSyxNQUFNLFFBQVEsQ0FBQyxTQUFTLFNBQVMsTUFBTSxNQUFNLElBQUksQ0FBQztBQUFBLEVBQ2hFO0FBQUEsRUFFUSxPQUFPLE1BQTBCO0FBQ3ZDLFVBQU0sT0FBTyxLQUFLO0FBQ2xCLFdBQU8sTUFBTSxVQUFVLE1BQU0saUJBQWlCLEtBQUssSUFBSSxVQUFVLE1BQU0sTUFBTSxLQUFLLEVBQUU7QUFBQSxFQUN0RjtBQUFBLEVBRUEsYUFBK0I7QUFDN0IsVUFBTSxXQUFXLElBQUksSUFBSSxLQUFLLElBQUksU0FBUyxFQUFFLElBQUksQ0FBQyxRQUFRLENBQUMsS0FBSyxPQUFPLEdBQUcsR0FBRyxHQUFHLENBQUMsQ0FBQztBQUNsRixVQUFNLFlBQVksSUFBSSxJQUFJLEtBQUssSUFBSSxVQUFVLEVBQUUsSUFBSSxDQUFDLFFBQVEsQ0FBQyxLQUFLLE9BQU8sR0FBRyxHQUFHLEdBQUcsQ0FBQyxDQUFDO0FBQ3BGLFVBQU0sUUFBUSxLQUFLLElBQUksU0FBUyxFQUFFO0FBQUEsTUFBUSxDQUFDLFlBQ3pDLFNBQVMsU0FBUyxNQUFNLE1BQU0sRUFBRSxRQUFRLENBQUMsU0FBUztBQUNoRCxjQUFNLFVBQVUsU0FBUyxJQUFJLFNBQVMsTUFBTSxVQUFVLE1BQU0sU0FBUyxLQUFLLEVBQUUsQ0FBQztBQUM3RSxjQUFNLEtBQUssV0FBVyxVQUFVLFNBQVMsTUFBTSxDQUFDLFVBQVUsVUFBVSxNQUFNLE1BQU0sQ0FBQztBQUNqRixZQUFJLENBQUMsU0FBUztBQUNaLGVBQUssU0FBUyxLQUFLLEVBQUUsSUFBSSxNQUFNLGVBQWUsVUFBVSxNQUFNLFNBQVMsQ0FBQyxvQkFBb0IsQ0FBQztBQUM3RixpQkFBTyxDQUFDO0FBQUEsUUFDVjtBQUNBLGNBQU0sV0FBVyxVQUFVLElBQUksU0FBUyxTQUFTLFVBQVUsU0FBUyxNQUFNLEtBQUssRUFBRSxDQUFDO0FBQ2xGLFlBQUksQ0FBQyxVQUFVO0FBQ2IsZUFBSyxTQUFTLEtBQUssRUFBRSxJQUFJLE1BQU0saUJBQWlCLFVBQVUsU0FBUyxNQUFNLENBQUMsb0JBQW9CLENBQUM7QUFDL0YsaUJBQU8sQ0FBQztBQUFBLFFBQ1Y7QUFDQSxlQUFPLEtBQUssZUFBZSxTQUFTLE1BQU0sU0FBUyxVQUFVLEVBQUU7QUFBQSxNQUNqRSxDQUFDO0FBQUEsSUFDSDtBQUNBLFdBQU8sTUFBTSxLQUFLO0FBQUEsRUFDcEI7QUFBQSxFQUVRLGVBQ04sU0FDQSxNQUNBLFNBQ0EsVUFDQSxJQUNvQjtBQUNwQixVQUFNLENBQUMsV0FBVyxPQUFPLElBQUksT0FBTyxRQUFRLFlBQVksRUFBRSxLQUFLLENBQUMsQ0FBQyxHQUFHLE1BQU0sTUFBTSxTQUFTLEtBQUssU0FBUyxDQUFDLEtBQUssQ0FBQztBQUM5RyxRQUFJLGNBQWMsVUFBYSxZQUFZLFFBQVc7QUFDcEQsV0FBSyxTQUFTLEtBQUssRUFBRSxJQUFJLE1BQU0saUNBQWlDLENBQUM7QUFDakUsYUFBTyxDQUFDO0FBQUEsSUFDVjtBQUNBLFVBQU0sUUFBUSxVQUFVLE1BQU0sU0FBUyxXQUFXLFNBQVMsR0FBYyxPQUFPLEtBQUs7QUFDckYsVUFBTSxVQUFVLE1BQU0sTUFBTSxXQUFXLFNBQVM7QUFDaEQsV0FBTyxTQUFTLFVBQVUsTUFBTSxXQUFXLEVBQUUsUUFBUSxDQUFDLGNBQWtDO0FBQ3RGLFlBQU0sT0FBTyxVQUFVLFdBQVcsTUFBTSxLQUFLO0FBQzdDLFlBQU0sUUFBUSxTQUFTLFNBQVMsTUFBTSxXQUFXLEVBQUUsS0FBSyxDQUFDLFFBQVEsVUFBVSxLQUFLLE1BQU0sTUFBTSxJQUFJO0FBQ2hHLFlBQU0sT0FBTyxTQUFTLE1BQU0sT0FBTyxXQUFXLFdBQVc7QUFDekQsWUFBTSxRQUFRLE1BQU0sV0FBVyxNQUFNLE9BQU87QUFDNUMsVUFBSSxDQUFDLFNBQVMsQ0FBQyxPQUFPO0FBQ3BCLGFBQUssU0FBUyxLQUFLO0FBQUEsVUFDakIsSUFBSSxHQUFHLEVBQUUsZUFBZSxJQUFJO0FBQUEsVUFDNUIsTUFBTSxRQUFRLGdDQUFnQztBQUFBLFFBQ2hELENBQUM7QUFDRCxlQUFPLENBQUM7QUFBQSxNQUNWO0FBQ0EsWUFBTSxTQUFTLE1BQU0sV0FBVyxNQUFNLFFBQVE7QUFDOUMsWUFBTSxZQUFZLFNBQVMsTUFBTSxPQUFPLE1BQU0sT0FBTyxHQUFHLFNBQVM7QUFDakUsWUFBTSxRQUFRLE9BQU8sTUFBTSxXQUFXLE1BQU0sZUFBZSxDQUFDO0FBQzVELGFBQU87QUFBQSxRQUNMO0FBQUEsVUFDRSxTQUFTLFVBQVUsU0FBUyxNQUFNLEtBQUs7QUFBQSxVQUN2QyxNQUFNLFVBQVUsTUFBTSxNQUFNLEtBQUs7QUFBQSxVQUNqQyxXQUFXO0FBQUEsVUFDWDtBQUFBLFVBQ0EsUUFDRyxRQUFRLFVBQVUsTUFBTSxPQUFPLE9BQU8sU0FDdEMsVUFBVSxVQUFVLFFBQVEsVUFBVSxNQUFNLE9BQU8sT0FBTyxhQUN2RCxRQUNBO0FBQUEsVUFDTixLQUFLLGFBQWEsVUFBVSxXQUFXLEtBQUssTUFBTSxZQUFZLFlBQVk7QUFBQSxVQUMxRSxTQUFTLFFBQVEsVUFBVSxNQUFNLFlBQVksTUFBTTtBQUFBLFVBQ25ELFVBQVUsV0FBVyxVQUFVLFNBQVMsVUFBVSxNQUFNO0FBQUEsVUFDeEQsR0FBSSxVQUFVLFVBQWEsRUFBRSxNQUFNO0FBQUEsVUFDbkMsWUFBWSxhQUFhLFVBQVUsV0FBVyxXQUFXLE1BQU07QUFBQSxVQUMvRCxPQUFPLEtBQUssUUFBUSxPQUFPLE1BQU0sT0FBTyxNQUFNLE9BQU8sR0FBRyxTQUFTO0FBQUEsVUFDakUsR0FBSSxVQUFVLEVBQUUsUUFBUSxLQUFLLFFBQVEsUUFBUSxNQUFNLE9BQU8sTUFBTSxRQUFRLEdBQUcsU0FBUyxFQUFFO0FBQUEsVUFDdEYsUUFBUSxTQUFTLFdBQVcsTUFBTSxPQUFPLEVBQUUsSUFBSSxDQUFDLFdBQVc7QUFBQSxZQUN6RCxNQUFNLFVBQVUsT0FBTyxNQUFNLEtBQUs7QUFBQSxZQUNsQyxPQUFPLEtBQUssUUFBUSxPQUFPLFVBQVUsT0FBTyxTQUFTLEtBQUssRUFBRTtBQUFBLFVBQzlELEVBQUU7QUFBQSxRQUNKO0FBQUEsTUFDRjtBQUFBLElBQ0YsQ0FBQztBQUFBLEVBQ0g7QUFBQSxFQUVRLFFBQVEsTUFBZSxTQUF5QztBQUN0RSxVQUFNLFFBQVEsS0FBSyxTQUFTLElBQUksU0FBUyxNQUFNLE9BQU8sQ0FBQztBQUN2RCxRQUFJLENBQUMsTUFBTyxNQUFLLFNBQVMsS0FBSyxFQUFFLElBQUksV0FBVyxPQUFPLElBQUksTUFBTSwrQkFBK0IsQ0FBQztBQUNqRyxXQUFPLFNBQVMsQ0FBQztBQUFBLEVBQ25CO0FBQUE7QUFBQSxFQUdRLFFBQVEsVUFBbUIsT0FBNEIsV0FBZ0M7QUFDN0YsVUFBTSxNQUFNLEtBQUssUUFBUSxVQUFVLFVBQVUsVUFBVSxTQUFTLEtBQUssRUFBRTtBQUN2RSxVQUFNLE9BQU8sU0FBUyxPQUFPLFNBQVM7QUFDdEMsVUFBTSxTQUFTLFFBQVEsVUFBVSxNQUFNLE9BQU8sR0FBRyxNQUFNLEtBQUs7QUFDNUQsVUFBTSxXQUFXLFFBQVEsU0FBUyxPQUFPLFdBQVcsUUFBUSxJQUFJLENBQUMsR0FBRztBQUFBLE1BQVEsQ0FBQyxXQUMzRSxLQUFLLFFBQVEsUUFBUSxVQUFVLFFBQVEsU0FBUyxLQUFLLEVBQUUsRUFBRSxPQUFPLENBQUMsRUFBRSxLQUFLLE1BQU0sU0FBUyxVQUFVLFFBQVEsTUFBTSxDQUFDO0FBQUEsSUFDbEg7QUFDQSxVQUFNLE1BQU0sSUFBSTtBQUFBLE1BQU8sQ0FBQyxFQUFFLEtBQUssTUFDN0IsU0FBUyxPQUFPLFNBQVMsSUFBSSxJQUFJLENBQUMsUUFBUSxLQUFLLENBQUMsV0FBVyxPQUFPLFNBQVMsUUFBUSxJQUFJLFNBQVMsTUFBTSxDQUFDO0FBQUEsSUFDekc7QUFDQSxXQUFPLEVBQUUsT0FBTyxLQUFLLFFBQVE7QUFBQSxFQUMvQjtBQUNGO0FBRUEsSUFBTSxXQUFXLENBQUMsT0FBNEIsY0FDNUMsU0FBUyxNQUFNLE9BQU8sV0FBVyxNQUFNO0FBR3pDLFNBQVMsYUFBYSxNQUF1RjtBQUMzRyxRQUFNLFFBQVEsb0JBQUksSUFBb0I7QUFDdEMsYUFBVyxFQUFFLE1BQU0sS0FBSyxLQUFLLE1BQU07QUFDakMsZUFBVyxVQUFVLEtBQUssaUJBQWlCLE1BQU0sQ0FBQyxJQUFJLElBQUksVUFBVSxJQUFJLEdBQUc7QUFDekUsaUJBQVcsV0FBVyxTQUFTLFFBQVEsS0FBSyxTQUFTLEdBQUc7QUFDdEQsY0FBTSxVQUFVLFVBQVUsVUFBVSxTQUFTLGdCQUFnQixLQUFLLElBQUksS0FBSyxHQUFHO0FBQzlFLGNBQU0sWUFBWSxVQUFVLFFBQVEsaUJBQWlCO0FBQ3JELFlBQUksWUFBWSxVQUFhLGNBQWMsT0FBVyxPQUFNLElBQUksU0FBUyxTQUFTO0FBQUEsTUFDcEY7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNBLFNBQU87QUFDVDtBQUdBLFNBQVMsTUFBTSxZQUEyRDtBQUN4RSxRQUFNLFFBQVEsb0JBQUksSUFBb0I7QUFDdEMsYUFBVyxFQUFFLFVBQVUsS0FBSyxXQUFZLE9BQU0sSUFBSSxZQUFZLE1BQU0sSUFBSSxTQUFTLEtBQUssS0FBSyxDQUFDO0FBQzVGLFFBQU0sUUFBUSxvQkFBSSxJQUFZO0FBQzlCLFNBQU8sV0FBVyxJQUFJLENBQUMsUUFBUTtBQUM3QixVQUFNLE9BQU8sTUFBTSxJQUFJLElBQUksU0FBUyxNQUFNLElBQUksSUFBSSxZQUFZLEdBQUcsSUFBSSxJQUFJLElBQUksSUFBSSxTQUFTO0FBQzFGLFFBQUksS0FBSztBQUNULGFBQVMsUUFBUSxHQUFHLE1BQU0sSUFBSSxFQUFFLEdBQUcsU0FBUyxFQUFHLE1BQUssR0FBRyxJQUFJLElBQUksS0FBSztBQUNwRSxVQUFNLElBQUksRUFBRTtBQUNaLFdBQU87QUFBQSxNQUNMO0FBQUEsTUFDQSxPQUFPLElBQUk7QUFBQSxNQUNYLEdBQUksSUFBSSxVQUFVLFVBQWEsRUFBRSxTQUFTLElBQUksTUFBTSxNQUFNLFdBQVcsRUFBRSxDQUFDLEtBQUssSUFBSSxNQUFNO0FBQUEsTUFDdkYsUUFBUSxRQUFRLElBQUksT0FBTztBQUFBLE1BQzNCLE1BQU0sSUFBSTtBQUFBLE1BQ1Y7QUFBQSxJQUNGO0FBQUEsRUFDRixDQUFDO0FBQ0g7IiwKICAibmFtZXMiOiBbIm5hbWVkIiwgImFsbG93ZWQiXQp9Cg==
