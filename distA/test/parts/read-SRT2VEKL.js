import {
  collectDefinitions,
  namedSchemas
} from "./chunk-WJPACLOL.js";
import {
  documentedLinks,
  isParameter
} from "./chunk-6IWH25VN.js";
import "./chunk-UUVSR64B.js";
import "./chunk-CCGHMHEK.js";
import "./chunk-VDPV4SN2.js";
import "./chunk-7DIEYAMQ.js";
import "./chunk-HJ67CAUM.js";
import "./chunk-GHHZ6UXC.js";
import "./chunk-2P5QH4SA.js";
import {
  below,
  isMap,
  pointer,
  references
} from "./chunk-M6H7XQX2.js";
import "./chunk-2YNHSDXB.js";
import "./chunk-IQWA53IU.js";
import "./chunk-PACVB44P.js";
import "./chunk-ZC7SUIQQ.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";
import "./chunk-RABAPZK5.js";
import "./chunk-XGDOGID3.js";

// src/core/documentation/openapi/faults.ts
function warnOfFaults({ path, own }, references2) {
  const { operation, at, shared, security } = own;
  warnOfParameters([shared, operation.parameters], path, references2, at);
  if (operation.requestBody !== void 0) warnOfBody(operation.requestBody, references2, at);
  warnOfAnswers(operation.responses, references2, at);
  warnOfSecurity(security, references2, at);
}
var followed = (value, references2, at, ...keys) => isMap(value) && typeof value.$ref === "string" ? references2.follow(value, at + pointer(...keys)) : value;
function warnOfParameters(lists, path, references2, at) {
  const inPath = /* @__PURE__ */ new Set();
  for (const list of lists) {
    if (list === void 0) continue;
    if (!Array.isArray(list)) references2.warn(at, "parameters is not a list");
    for (const [index, given] of (Array.isArray(list) ? list : []).entries()) {
      const parameter = followed(given, references2, at, "parameters", index);
      if (parameter === void 0) continue;
      if (!isParameter(parameter)) {
        references2.warn(at + pointer("parameters", index), "the parameter has no name, or stands in no known place");
      } else if (parameter.in === "path") inPath.add(parameter.name);
    }
  }
  if (!path.includes("{")) return;
  for (const [, name] of path.matchAll(/\{([^}]+)\}/g))
    if (name !== void 0 && !inPath.has(name)) references2.warn(at, `the path parameter ${name} is not described`);
}
function warnOfBody(given, references2, at) {
  const body = followed(given, references2, at, "requestBody");
  if (!isMap(body) || !isMap(body.content) || Object.keys(body.content).length === 0)
    references2.warn(below(at, "requestBody"), "the request body has no content");
  else warnOfContent(body, references2, () => below(at, "requestBody"));
}
function warnOfAnswers(answers, references2, at) {
  if (answers === void 0) return;
  if (!isMap(answers)) {
    references2.warn(below(at, "responses"), "the answers are not a map");
    return;
  }
  for (const status of Object.keys(answers)) {
    const answer = followed(answers[status], references2, at, "responses", status);
    const where = () => at + pointer("responses", status);
    if (isMap(answer)) warnOfContent(answer, references2, where);
    else if (answer !== void 0) references2.warn(where(), "the answer is not a map");
  }
}
function warnOfContent(holder, references2, at) {
  if (!isMap(holder.content)) return;
  for (const type of Object.keys(holder.content))
    if (!isMap(holder.content[type])) references2.warn(at() + pointer("content", type), "the content is not a map");
}
function warnOfSecurity(security, references2, at) {
  if (!Array.isArray(security)) return;
  for (const need of security) {
    for (const name of Object.keys(isMap(need) ? need : {})) {
      if (!isMap(references2.follow({ $ref: `#/components/securitySchemes/${name}` }, at)))
        references2.warn(at, `the security scheme ${name} is not described`);
    }
  }
}

// src/core/documentation/openapi/version2.ts
var version2Of = (root) => ({
  consumes: texts(root.consumes),
  produces: texts(root.produces)
});
var texts = (value) => Array.isArray(value) ? value.filter((one) => typeof one === "string") : [];
function server2(root, origin) {
  const schemes = texts(root.schemes);
  const own = origin === void 0 ? void 0 : new URL(origin);
  const host = typeof root.host === "string" ? root.host : own?.host;
  const scheme = schemes.find((one) => one === "https") ?? schemes[0] ?? own?.protocol.replace(":", "") ?? "https";
  const base = typeof root.basePath === "string" ? root.basePath : "";
  return [{ url: host === void 0 ? base : `${scheme}://${host}${base}` }];
}
var schemaKeys = [
  "type",
  "format",
  "items",
  "enum",
  "default",
  "minimum",
  "maximum",
  "exclusiveMinimum",
  "exclusiveMaximum",
  "minLength",
  "maxLength",
  "pattern",
  "minItems",
  "maxItems",
  "uniqueItems",
  "multipleOf"
];
var styles = {
  csv: { explode: false },
  multi: { explode: true },
  ssv: { explode: false, style: "spaceDelimited" },
  pipes: { explode: false, style: "pipeDelimited" }
};
function operation3(own, shared, all, references2, at) {
  const parameters = [shared, own.parameters].flatMap((list) => Array.isArray(list) ? list : []).map((one) => references2.follow(one, at)).filter(isMap);
  const consumes = own.consumes === void 0 ? all.consumes : texts(own.consumes);
  const produces = own.produces === void 0 ? all.produces : texts(own.produces);
  const body = parameters.find((one) => one.in === "body");
  const fields = parameters.filter((one) => one.in === "formData");
  const requestBody = body ? bodyOf(body, consumes) : fields.length > 0 ? formOf(fields, consumes) : void 0;
  return {
    ...own,
    parameters: parameters.filter((one) => one.in !== "body" && one.in !== "formData").map(parameter3),
    ...requestBody && { requestBody },
    responses: isMap(own.responses) ? Object.fromEntries(
      Object.entries(own.responses).map(([status, answer]) => [
        status,
        answer3(references2.follow(answer, at), produces)
      ])
    ) : own.responses ?? {}
  };
}
function parameter3(given) {
  const schema = schemaOf(given);
  const style = styles[String(given.collectionFormat ?? "csv")] ?? {};
  return {
    name: given.name ?? null,
    in: given.in ?? null,
    required: given.required ?? false,
    ...given.description !== void 0 && { description: given.description },
    ...given["x-example"] !== void 0 && { example: given["x-example"] },
    schema,
    ...schema.type === "array" && style
  };
}
function schemaOf(given) {
  return Object.fromEntries(schemaKeys.flatMap((key) => given[key] === void 0 ? [] : [[key, given[key]]]));
}
function bodyOf(body, consumes) {
  const types = consumes.length > 0 ? consumes : ["application/json"];
  const content = { schema: body.schema ?? {} };
  return {
    required: body.required === true,
    ...body.description !== void 0 && { description: body.description },
    content: Object.fromEntries(types.map((type) => [type, content]))
  };
}
function formOf(fields, consumes) {
  const file = fields.some((one) => one.type === "file");
  const usual = file ? "multipart/form-data" : "application/x-www-form-urlencoded";
  const type = consumes.find((one) => /form/.test(one)) ?? usual;
  const properties = Object.fromEntries(
    fields.map((one) => {
      const schema = one.type === "file" ? { type: "string", format: "binary" } : schemaOf(one);
      return [String(one.name), { ...schema, ...one.description !== void 0 && { description: one.description } }];
    })
  );
  const required = fields.filter((one) => one.required === true).map((one) => String(one.name));
  return { required: required.length > 0, content: { [type]: { schema: { type: "object", properties, required } } } };
}
function answer3(answer, produces) {
  if (!isMap(answer)) return answer ?? null;
  const { schema, examples, headers, ...rest } = answer;
  const example = (type) => isMap(examples) && examples[type] !== void 0 ? { example: examples[type] } : {};
  const types = produces.length > 0 ? produces : ["application/json"];
  return {
    ...rest,
    ...schema !== void 0 && {
      content: Object.fromEntries(types.map((type) => [type, { schema, ...example(type) }]))
    },
    ...isMap(headers) && {
      headers: Object.fromEntries(
        Object.entries(headers).map(([name, one]) => [
          name,
          isMap(one) ? { ...one.description !== void 0 && { description: one.description }, schema: schemaOf(one) } : one
        ])
      )
    }
  };
}
function securitySchemes3(given) {
  if (!isMap(given)) return {};
  return Object.fromEntries(
    Object.entries(given).map(([name, scheme]) => {
      if (!isMap(scheme)) return [name, scheme];
      if (scheme.type === "basic") return [name, { type: "http", scheme: "basic" }];
      return [name, scheme.type === "oauth2" ? { ...scheme, flows: { [String(scheme.flow)]: {} } } : scheme];
    })
  );
}

// src/core/documentation/openapi/read.ts
var methods = ["get", "put", "post", "delete", "options", "head", "patch", "trace"];
var mostWarnings = 5e3;
function readOpenApi(documents, source) {
  const root = documents.main.content;
  const version = versionOf(root);
  if (root.paths !== void 0 && !isMap(root.paths)) {
    throw new Problem("document-unreadable", {
      what: "the document claims to be OpenAPI, but its paths are not a map",
      where: "/paths"
    });
  }
  return new Reading(root, source, version, documents).documentation();
}
function versionOf(root) {
  const version = String(root.openapi ?? root.swagger);
  if (/^3\.[01](?:\.|$)/.test(version) && root.openapi !== void 0) return version;
  if (/^2(?:\.0)?$/.test(version)) return "2.0";
  throw new Problem("document-unreadable", {
    what: `OpenAPI ${version} is not read`,
    remedy: "versions 2.0, 3.0 and 3.1 are; many vendors publish one of them beside the others",
    data: { version }
  });
}
var Reading = class {
  constructor(root, source, version, { main, parts }) {
    this.root = root;
    this.source = source;
    this.version = version;
    const { definitions, warnings } = collectDefinitions({ main, parts });
    this.definitions = definitions;
    this.warnings = warnings;
    this.references = references(definitions);
    this.version2 = version === "2.0" ? version2Of(root) : void 0;
    const fetched = /^https?:/.test(main.uri) ? new URL(main.uri).origin : void 0;
    this.servers = this.version2 ? server2(root, fetched) : root.servers;
  }
  root;
  source;
  version;
  definitions;
  warnings;
  references;
  ids = /* @__PURE__ */ new Set();
  version2;
  servers;
  documentation() {
    const { root } = this;
    const info = isMap(root.info) ? root.info : {};
    const types = /* @__PURE__ */ new Map();
    for (const [name, { key, schema }] of namedSchemas(root)) {
      types.set(name, key);
      this.definitions.set(key, schema);
    }
    const components = isMap(root.components) ? root.components : {};
    const schemes = this.version2 ? securitySchemes3(root.securityDefinitions) : components.securitySchemes;
    for (const [name, scheme] of Object.entries(isMap(schemes) ? schemes : {}))
      this.definitions.set(`#/components/securitySchemes/${name}`, scheme);
    const operations = Object.entries(isMap(root.paths) ? root.paths : {}).flatMap(
      ([path, item]) => path.startsWith("x-") ? [] : this.pathItem(path, item)
    );
    if (operations.length === 0) this.references.warn("/paths", "the document describes no operation");
    return {
      format: "OpenAPI",
      version: this.version,
      title: typeof info.title === "string" ? info.title : this.source,
      servers: serversOf(this.servers),
      operations,
      definitions: this.definitions,
      types,
      webhooks: webhookNames(root),
      warnings: dedupe([...this.warnings, ...this.references.warnings]).slice(0, mostWarnings)
    };
  }
  pathItem(path, given) {
    const at = pointer("paths", path);
    const item = this.references.follow(given, at);
    if (!isMap(item)) {
      this.references.warn(at, "the path is not a map of methods");
      return [];
    }
    return methods.flatMap((method) => {
      if (item[method] === void 0) return [];
      const where = below(at, method);
      const described = item[method];
      if (!isMap(described)) {
        this.references.warn(where, "the operation is not a map");
        return [];
      }
      const entry = this.operation(method, path, described, item, where);
      warnOfFaults(entry, this.references);
      return [entry];
    });
  }
  operation(method, path, own, item, at) {
    const { version2, root } = this;
    const [server] = serversOf(own.servers ?? item.servers ?? this.servers);
    const tags = Array.isArray(own.tags) ? own.tags.filter((tag) => typeof tag === "string") : [];
    const security = own.security ?? root.security;
    const kept = {
      at,
      operation: version2 ? operation3(own, item.parameters, version2, this.references, at) : own,
      ...version2 === void 0 && item.parameters !== void 0 && { shared: item.parameters },
      ...security !== void 0 && { security }
    };
    const links = documentedLinks(own.responses, this.references, at);
    return {
      id: this.id(own.operationId, method, path, at),
      group: tags[0] ?? path.split("/").find((part) => part !== "" && !part.startsWith("{") && !/^v\d/.test(part)) ?? "operations",
      ...typeof own.summary === "string" && { summary: own.summary },
      method: method.toUpperCase(),
      path: basePath(server?.url) + path,
      ...own.deprecated === true && { deprecated: true },
      ...links.length > 0 && { links },
      own: kept
    };
  }
  id(given, method, path, at) {
    let id = typeof given === "string" && given.trim() !== "" ? given.trim().replace(/[\s/]+/g, "-") : "";
    if (id === "") {
      id = `${method}${path}`.replace(/[{}]/g, "").replace(/[^A-Za-z0-9]+/g, "-").replace(/-$/, "");
      if (given !== void 0) this.references.warn(at, "operationId is not a text");
    }
    let unique = id;
    for (let count = 2; this.ids.has(unique); count += 1) unique = `${id}-${count}`;
    if (unique !== id) this.references.warn(at, `the operationId ${id} stands twice; this one is called ${unique}`);
    this.ids.add(unique);
    return unique;
  }
};
function webhookNames(root) {
  const given = isMap(root.webhooks) ? root.webhooks : isMap(root["x-webhooks"]) ? root["x-webhooks"] : {};
  return Object.entries(given).flatMap(
    ([name, item]) => isMap(item) ? methods.filter((method) => item[method] !== void 0).map((method) => `${method.toUpperCase()} ${name}`) : []
  );
}
function serversOf(given) {
  if (!Array.isArray(given)) return [];
  return given.filter(isMap).flatMap(({ url, variables, description }) => {
    if (typeof url !== "string") return [];
    const all = Object.entries(isMap(variables) ? variables : {}).filter(
      (entry) => isMap(entry[1])
    );
    return [
      {
        url: url.replace(/\{([^}]+)\}/g, (whole, name) => {
          const variable = all.find(([key]) => key === name)?.[1];
          return variable?.default === void 0 ? whole : String(variable.default);
        }),
        ...all.length > 0 && { template: url },
        ...typeof description === "string" && { description },
        variables: all.map(([name, one]) => ({
          name,
          default: String(one.default ?? ""),
          allowed: Array.isArray(one.enum) ? one.enum.map(String) : []
        }))
      }
    ];
  });
}
function basePath(server) {
  if (server === void 0) return "";
  return server.replace(/^[a-z][a-z0-9+.-]*:\/\/[^/]*/i, "").replace(/\/+$/, "");
}
function dedupe(warnings) {
  return [...new Map(warnings.map((warning) => [`${warning.at} ${warning.what}`, warning])).values()];
}
export {
  readOpenApi
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi9vcGVuYXBpL2ZhdWx0cy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9kb2N1bWVudGF0aW9uL29wZW5hcGkvdmVyc2lvbjIudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvZG9jdW1lbnRhdGlvbi9vcGVuYXBpL3JlYWQudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKlxuICogV2hhdCBpcyBmYXVsdHkgaW4gYW4gb3BlcmF0aW9uIGFzIHZlbmRvcnMgcHVibGlzaCB0aGVtOiB0aG9zZSBwYXJ0cyBhcmUgbG9zdCBhbG9uZSwgYW5kIHRvbGQuIFNjaGVtYXMgYXJlIGxlZnQgYXNpZGU6XG4gKiB0aGV5IGFyZSBsb29rZWQgYXQgd2hlbiB0aGV5IGFyZSBzaG93bi4gUGxhY2VzIGFyZSBtYWRlIG9ubHkgd2hlcmUgc29tZXRoaW5nIGlzIHdyb25nLCBzaW5jZSBtb3N0IG9mIGl0IGlzIHJpZ2h0LlxuICovXG5pbXBvcnQgdHlwZSB7IE9wZXJhdGlvbkVudHJ5IH0gZnJvbSAnLi4vbW9kZWwuanMnO1xuaW1wb3J0IHsgaXNQYXJhbWV0ZXIsIHR5cGUgT3duT3BlcmF0aW9uIH0gZnJvbSAnLi9kZXNjcmliZS5qcyc7XG5pbXBvcnQgeyBiZWxvdywgaXNNYXAsIHR5cGUgSnNvbiwgcG9pbnRlciwgdHlwZSBSZWZlcmVuY2VzIH0gZnJvbSAnLi9yZWZlcmVuY2VzLmpzJztcblxuLyoqIFdhcm5zIGFib3V0IGVhY2guICovXG5leHBvcnQgZnVuY3Rpb24gd2Fybk9mRmF1bHRzKHsgcGF0aCwgb3duIH06IE9wZXJhdGlvbkVudHJ5LCByZWZlcmVuY2VzOiBSZWZlcmVuY2VzKTogdm9pZCB7XG4gIGNvbnN0IHsgb3BlcmF0aW9uLCBhdCwgc2hhcmVkLCBzZWN1cml0eSB9ID0gb3duIGFzIHVua25vd24gYXMgT3duT3BlcmF0aW9uO1xuICB3YXJuT2ZQYXJhbWV0ZXJzKFtzaGFyZWQsIG9wZXJhdGlvbi5wYXJhbWV0ZXJzXSwgcGF0aCwgcmVmZXJlbmNlcywgYXQpO1xuICBpZiAob3BlcmF0aW9uLnJlcXVlc3RCb2R5ICE9PSB1bmRlZmluZWQpIHdhcm5PZkJvZHkob3BlcmF0aW9uLnJlcXVlc3RCb2R5LCByZWZlcmVuY2VzLCBhdCk7XG4gIHdhcm5PZkFuc3dlcnMob3BlcmF0aW9uLnJlc3BvbnNlcywgcmVmZXJlbmNlcywgYXQpO1xuICB3YXJuT2ZTZWN1cml0eShzZWN1cml0eSwgcmVmZXJlbmNlcywgYXQpO1xufVxuXG4vKiogV2hhdCBhIHZhbHVlIHJlZmVycyB0bzsgaXRzIG93biBwbGFjZSBpcyBtYWRlIG9ubHkgd2hlcmUgaXQgcmVmZXJzIHRvIGFueXRoaW5nLiAqL1xuY29uc3QgZm9sbG93ZWQgPSAoXG4gIHZhbHVlOiBKc29uIHwgdW5kZWZpbmVkLFxuICByZWZlcmVuY2VzOiBSZWZlcmVuY2VzLFxuICBhdDogc3RyaW5nLFxuICAuLi5rZXlzOiByZWFkb25seSAoc3RyaW5nIHwgbnVtYmVyKVtdXG4pOiBKc29uIHwgdW5kZWZpbmVkID0+XG4gIGlzTWFwKHZhbHVlKSAmJiB0eXBlb2YgdmFsdWUuJHJlZiA9PT0gJ3N0cmluZycgPyByZWZlcmVuY2VzLmZvbGxvdyh2YWx1ZSwgYXQgKyBwb2ludGVyKC4uLmtleXMpKSA6IHZhbHVlO1xuXG5mdW5jdGlvbiB3YXJuT2ZQYXJhbWV0ZXJzKFxuICBsaXN0czogcmVhZG9ubHkgKEpzb24gfCB1bmRlZmluZWQpW10sXG4gIHBhdGg6IHN0cmluZyxcbiAgcmVmZXJlbmNlczogUmVmZXJlbmNlcyxcbiAgYXQ6IHN0cmluZyxcbik6IHZvaWQge1xuICBjb25zdCBpblBhdGggPSBuZXcgU2V0PHN0cmluZz4oKTtcbiAgZm9yIChjb25zdCBsaXN0IG9mIGxpc3RzKSB7XG4gICAgaWYgKGxpc3QgPT09IHVuZGVmaW5lZCkgY29udGludWU7XG4gICAgaWYgKCFBcnJheS5pc0FycmF5KGxpc3QpKSByZWZlcmVuY2VzLndhcm4oYXQsICdwYXJhbWV0ZXJzIGlzIG5vdCBhIGxpc3QnKTtcbiAgICBmb3IgKGNvbnN0IFtpbmRleCwgZ2l2ZW5dIG9mIChBcnJheS5pc0FycmF5KGxpc3QpID8gKGxpc3QgYXMgcmVhZG9ubHkgSnNvbltdKSA6IFtdKS5lbnRyaWVzKCkpIHtcbiAgICAgIGNvbnN0IHBhcmFtZXRlciA9IGZvbGxvd2VkKGdpdmVuLCByZWZlcmVuY2VzLCBhdCwgJ3BhcmFtZXRlcnMnLCBpbmRleCk7XG4gICAgICBpZiAocGFyYW1ldGVyID09PSB1bmRlZmluZWQpIGNvbnRpbnVlO1xuICAgICAgaWYgKCFpc1BhcmFtZXRlcihwYXJhbWV0ZXIpKSB7XG4gICAgICAgIHJlZmVyZW5jZXMud2FybihhdCArIHBvaW50ZXIoJ3BhcmFtZXRlcnMnLCBpbmRleCksICd0aGUgcGFyYW1ldGVyIGhhcyBubyBuYW1lLCBvciBzdGFuZHMgaW4gbm8ga25vd24gcGxhY2UnKTtcbiAgICAgIH0gZWxzZSBpZiAocGFyYW1ldGVyLmluID09PSAncGF0aCcpIGluUGF0aC5hZGQocGFyYW1ldGVyLm5hbWUpO1xuICAgIH1cbiAgfVxuICBpZiAoIXBhdGguaW5jbHVkZXMoJ3snKSkgcmV0dXJuO1xuICBmb3IgKGNvbnN0IFssIG5hbWVdIG9mIHBhdGgubWF0Y2hBbGwoL1xceyhbXn1dKylcXH0vZykpXG4gICAgaWYgKG5hbWUgIT09IHVuZGVmaW5lZCAmJiAhaW5QYXRoLmhhcyhuYW1lKSkgcmVmZXJlbmNlcy53YXJuKGF0LCBgdGhlIHBhdGggcGFyYW1ldGVyICR7bmFtZX0gaXMgbm90IGRlc2NyaWJlZGApO1xufVxuXG5mdW5jdGlvbiB3YXJuT2ZCb2R5KGdpdmVuOiBKc29uLCByZWZlcmVuY2VzOiBSZWZlcmVuY2VzLCBhdDogc3RyaW5nKTogdm9pZCB7XG4gIGNvbnN0IGJvZHkgPSBmb2xsb3dlZChnaXZlbiwgcmVmZXJlbmNlcywgYXQsICdyZXF1ZXN0Qm9keScpO1xuICBpZiAoIWlzTWFwKGJvZHkpIHx8ICFpc01hcChib2R5LmNvbnRlbnQpIHx8IE9iamVjdC5rZXlzKGJvZHkuY29udGVudCkubGVuZ3RoID09PSAwKVxuICAgIHJlZmVyZW5jZXMud2FybihiZWxvdyhhdCwgJ3JlcXVlc3RCb2R5JyksICd0aGUgcmVxdWVzdCBib2R5IGhhcyBubyBjb250ZW50Jyk7XG4gIGVsc2Ugd2Fybk9mQ29udGVudChib2R5LCByZWZlcmVuY2VzLCAoKSA9PiBiZWxvdyhhdCwgJ3JlcXVlc3RCb2R5JykpO1xufVxuXG5mdW5jdGlvbiB3YXJuT2ZBbnN3ZXJzKGFuc3dlcnM6IEpzb24gfCB1bmRlZmluZWQsIHJlZmVyZW5jZXM6IFJlZmVyZW5jZXMsIGF0OiBzdHJpbmcpOiB2b2lkIHtcbiAgaWYgKGFuc3dlcnMgPT09IHVuZGVmaW5lZCkgcmV0dXJuO1xuICBpZiAoIWlzTWFwKGFuc3dlcnMpKSB7XG4gICAgcmVmZXJlbmNlcy53YXJuKGJlbG93KGF0LCAncmVzcG9uc2VzJyksICd0aGUgYW5zd2VycyBhcmUgbm90IGEgbWFwJyk7XG4gICAgcmV0dXJuO1xuICB9XG4gIGZvciAoY29uc3Qgc3RhdHVzIG9mIE9iamVjdC5rZXlzKGFuc3dlcnMpKSB7XG4gICAgY29uc3QgYW5zd2VyID0gZm9sbG93ZWQoYW5zd2Vyc1tzdGF0dXNdLCByZWZlcmVuY2VzLCBhdCwgJ3Jlc3BvbnNlcycsIHN0YXR1cyk7XG4gICAgY29uc3Qgd2hlcmUgPSAoKTogc3RyaW5nID0+IGF0ICsgcG9pbnRlcigncmVzcG9uc2VzJywgc3RhdHVzKTtcbiAgICBpZiAoaXNNYXAoYW5zd2VyKSkgd2Fybk9mQ29udGVudChhbnN3ZXIsIHJlZmVyZW5jZXMsIHdoZXJlKTtcbiAgICBlbHNlIGlmIChhbnN3ZXIgIT09IHVuZGVmaW5lZCkgcmVmZXJlbmNlcy53YXJuKHdoZXJlKCksICd0aGUgYW5zd2VyIGlzIG5vdCBhIG1hcCcpO1xuICB9XG59XG5cbmZ1bmN0aW9uIHdhcm5PZkNvbnRlbnQoaG9sZGVyOiB7IHJlYWRvbmx5IFtrZXk6IHN0cmluZ106IEpzb24gfSwgcmVmZXJlbmNlczogUmVmZXJlbmNlcywgYXQ6ICgpID0+IHN0cmluZyk6IHZvaWQge1xuICBpZiAoIWlzTWFwKGhvbGRlci5jb250ZW50KSkgcmV0dXJuO1xuICBmb3IgKGNvbnN0IHR5cGUgb2YgT2JqZWN0LmtleXMoaG9sZGVyLmNvbnRlbnQpKVxuICAgIGlmICghaXNNYXAoaG9sZGVyLmNvbnRlbnRbdHlwZV0pKSByZWZlcmVuY2VzLndhcm4oYXQoKSArIHBvaW50ZXIoJ2NvbnRlbnQnLCB0eXBlKSwgJ3RoZSBjb250ZW50IGlzIG5vdCBhIG1hcCcpO1xufVxuXG5mdW5jdGlvbiB3YXJuT2ZTZWN1cml0eShzZWN1cml0eTogSnNvbiB8IHVuZGVmaW5lZCwgcmVmZXJlbmNlczogUmVmZXJlbmNlcywgYXQ6IHN0cmluZyk6IHZvaWQge1xuICBpZiAoIUFycmF5LmlzQXJyYXkoc2VjdXJpdHkpKSByZXR1cm47XG4gIGZvciAoY29uc3QgbmVlZCBvZiBzZWN1cml0eSBhcyByZWFkb25seSBKc29uW10pIHtcbiAgICBmb3IgKGNvbnN0IG5hbWUgb2YgT2JqZWN0LmtleXMoaXNNYXAobmVlZCkgPyBuZWVkIDoge30pKSB7XG4gICAgICBpZiAoIWlzTWFwKHJlZmVyZW5jZXMuZm9sbG93KHsgJHJlZjogYCMvY29tcG9uZW50cy9zZWN1cml0eVNjaGVtZXMvJHtuYW1lfWAgfSwgYXQpKSlcbiAgICAgICAgcmVmZXJlbmNlcy53YXJuKGF0LCBgdGhlIHNlY3VyaXR5IHNjaGVtZSAke25hbWV9IGlzIG5vdCBkZXNjcmliZWRgKTtcbiAgICB9XG4gIH1cbn1cbiIsICIvKiogT3BlbkFQSSAyLjAgc2FpZCBpbiB0aGUgd29yZHMgb2YgMzogYm9keSBhbmQgZm9ybSBwYXJhbWV0ZXJzIGJlY29tZSBhIHJlcXVlc3QgYm9keSwgdHlwZXMgYmVjb21lIHNjaGVtYXMuICovXG5pbXBvcnQgeyBpc01hcCwgdHlwZSBKc29uLCB0eXBlIEpzb25NYXAsIHR5cGUgUmVmZXJlbmNlcyB9IGZyb20gJy4vcmVmZXJlbmNlcy5qcyc7XG5cbi8qKiBXaGF0IGEgd2hvbGUgMi4wIGRvY3VtZW50IHNheXMgZm9yIGFsbCBpdHMgb3BlcmF0aW9ucy4gKi9cbmV4cG9ydCBpbnRlcmZhY2UgVmVyc2lvbjIge1xuICByZWFkb25seSBjb25zdW1lczogcmVhZG9ubHkgc3RyaW5nW107XG4gIHJlYWRvbmx5IHByb2R1Y2VzOiByZWFkb25seSBzdHJpbmdbXTtcbn1cblxuZXhwb3J0IGNvbnN0IHZlcnNpb24yT2YgPSAocm9vdDogSnNvbk1hcCk6IFZlcnNpb24yID0+ICh7XG4gIGNvbnN1bWVzOiB0ZXh0cyhyb290LmNvbnN1bWVzKSxcbiAgcHJvZHVjZXM6IHRleHRzKHJvb3QucHJvZHVjZXMpLFxufSk7XG5cbmNvbnN0IHRleHRzID0gKHZhbHVlOiBKc29uIHwgdW5kZWZpbmVkKTogc3RyaW5nW10gPT5cbiAgQXJyYXkuaXNBcnJheSh2YWx1ZSkgPyB2YWx1ZS5maWx0ZXIoKG9uZSk6IG9uZSBpcyBzdHJpbmcgPT4gdHlwZW9mIG9uZSA9PT0gJ3N0cmluZycpIDogW107XG5cbi8qKiBUaGUgYWRkcmVzcyBvZiB0aGUgc2VydmVyLiBgb3JpZ2luYCB3aGVyZSBob3N0IGFuZCBzY2hlbWUgYXJlIGxlZnQgdG8gd2hvZXZlciBzZXJ2ZXMgdGhlIGRvY3VtZW50LiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHNlcnZlcjIocm9vdDogSnNvbk1hcCwgb3JpZ2luOiBzdHJpbmcgfCB1bmRlZmluZWQpOiBKc29uTWFwW10ge1xuICBjb25zdCBzY2hlbWVzID0gdGV4dHMocm9vdC5zY2hlbWVzKTtcbiAgY29uc3Qgb3duID0gb3JpZ2luID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiBuZXcgVVJMKG9yaWdpbik7XG4gIGNvbnN0IGhvc3QgPSB0eXBlb2Ygcm9vdC5ob3N0ID09PSAnc3RyaW5nJyA/IHJvb3QuaG9zdCA6IG93bj8uaG9zdDtcbiAgY29uc3Qgc2NoZW1lID0gc2NoZW1lcy5maW5kKChvbmUpID0+IG9uZSA9PT0gJ2h0dHBzJykgPz8gc2NoZW1lc1swXSA/PyBvd24/LnByb3RvY29sLnJlcGxhY2UoJzonLCAnJykgPz8gJ2h0dHBzJztcbiAgY29uc3QgYmFzZSA9IHR5cGVvZiByb290LmJhc2VQYXRoID09PSAnc3RyaW5nJyA/IHJvb3QuYmFzZVBhdGggOiAnJztcbiAgcmV0dXJuIFt7IHVybDogaG9zdCA9PT0gdW5kZWZpbmVkID8gYmFzZSA6IGAke3NjaGVtZX06Ly8ke2hvc3R9JHtiYXNlfWAgfV07XG59XG5cbi8qKiBLZXlzIG9mIGEgMi4wIHBhcmFtZXRlciB0aGF0IGJlbG9uZyB0byBpdHMgc2NoZW1hLiAqL1xuY29uc3Qgc2NoZW1hS2V5cyA9IFtcbiAgJ3R5cGUnLFxuICAnZm9ybWF0JyxcbiAgJ2l0ZW1zJyxcbiAgJ2VudW0nLFxuICAnZGVmYXVsdCcsXG4gICdtaW5pbXVtJyxcbiAgJ21heGltdW0nLFxuICAnZXhjbHVzaXZlTWluaW11bScsXG4gICdleGNsdXNpdmVNYXhpbXVtJyxcbiAgJ21pbkxlbmd0aCcsXG4gICdtYXhMZW5ndGgnLFxuICAncGF0dGVybicsXG4gICdtaW5JdGVtcycsXG4gICdtYXhJdGVtcycsXG4gICd1bmlxdWVJdGVtcycsXG4gICdtdWx0aXBsZU9mJyxcbl0gYXMgY29uc3Q7XG5cbmNvbnN0IHN0eWxlczogUmVhZG9ubHk8UmVjb3JkPHN0cmluZywgSnNvbk1hcD4+ID0ge1xuICBjc3Y6IHsgZXhwbG9kZTogZmFsc2UgfSxcbiAgbXVsdGk6IHsgZXhwbG9kZTogdHJ1ZSB9LFxuICBzc3Y6IHsgZXhwbG9kZTogZmFsc2UsIHN0eWxlOiAnc3BhY2VEZWxpbWl0ZWQnIH0sXG4gIHBpcGVzOiB7IGV4cGxvZGU6IGZhbHNlLCBzdHlsZTogJ3BpcGVEZWxpbWl0ZWQnIH0sXG59O1xuXG4vKiogVGhlIG9wZXJhdGlvbiB3aXRoIGFsbCB0aGF0IHN0YW5kcyBhdCBpdHMgcGF0aCwgaW4gdGhlIGZvcm0gb2YgdmVyc2lvbiAzLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIG9wZXJhdGlvbjMoXG4gIG93bjogSnNvbk1hcCxcbiAgc2hhcmVkOiBKc29uIHwgdW5kZWZpbmVkLFxuICBhbGw6IFZlcnNpb24yLFxuICByZWZlcmVuY2VzOiBSZWZlcmVuY2VzLFxuICBhdDogc3RyaW5nLFxuKTogSnNvbk1hcCB7XG4gIGNvbnN0IHBhcmFtZXRlcnMgPSBbc2hhcmVkLCBvd24ucGFyYW1ldGVyc11cbiAgICAuZmxhdE1hcCgobGlzdCkgPT4gKEFycmF5LmlzQXJyYXkobGlzdCkgPyAobGlzdCBhcyByZWFkb25seSBKc29uW10pIDogW10pKVxuICAgIC5tYXAoKG9uZSkgPT4gcmVmZXJlbmNlcy5mb2xsb3cob25lLCBhdCkpXG4gICAgLmZpbHRlcihpc01hcCk7XG4gIGNvbnN0IGNvbnN1bWVzID0gb3duLmNvbnN1bWVzID09PSB1bmRlZmluZWQgPyBhbGwuY29uc3VtZXMgOiB0ZXh0cyhvd24uY29uc3VtZXMpO1xuICBjb25zdCBwcm9kdWNlcyA9IG93bi5wcm9kdWNlcyA9PT0gdW5kZWZpbmVkID8gYWxsLnByb2R1Y2VzIDogdGV4dHMob3duLnByb2R1Y2VzKTtcbiAgY29uc3QgYm9keSA9IHBhcmFtZXRlcnMuZmluZCgob25lKSA9PiBvbmUuaW4gPT09ICdib2R5Jyk7XG4gIGNvbnN0IGZpZWxkcyA9IHBhcmFtZXRlcnMuZmlsdGVyKChvbmUpID0+IG9uZS5pbiA9PT0gJ2Zvcm1EYXRhJyk7XG4gIGNvbnN0IHJlcXVlc3RCb2R5ID0gYm9keSA/IGJvZHlPZihib2R5LCBjb25zdW1lcykgOiBmaWVsZHMubGVuZ3RoID4gMCA/IGZvcm1PZihmaWVsZHMsIGNvbnN1bWVzKSA6IHVuZGVmaW5lZDtcbiAgcmV0dXJuIHtcbiAgICAuLi5vd24sXG4gICAgcGFyYW1ldGVyczogcGFyYW1ldGVycy5maWx0ZXIoKG9uZSkgPT4gb25lLmluICE9PSAnYm9keScgJiYgb25lLmluICE9PSAnZm9ybURhdGEnKS5tYXAocGFyYW1ldGVyMyksXG4gICAgLi4uKHJlcXVlc3RCb2R5ICYmIHsgcmVxdWVzdEJvZHkgfSksXG4gICAgcmVzcG9uc2VzOiBpc01hcChvd24ucmVzcG9uc2VzKVxuICAgICAgPyBPYmplY3QuZnJvbUVudHJpZXMoXG4gICAgICAgICAgT2JqZWN0LmVudHJpZXMob3duLnJlc3BvbnNlcykubWFwKChbc3RhdHVzLCBhbnN3ZXJdKSA9PiBbXG4gICAgICAgICAgICBzdGF0dXMsXG4gICAgICAgICAgICBhbnN3ZXIzKHJlZmVyZW5jZXMuZm9sbG93KGFuc3dlciwgYXQpLCBwcm9kdWNlcyksXG4gICAgICAgICAgXSksXG4gICAgICAgIClcbiAgICAgIDogKG93bi5yZXNwb25zZXMgPz8ge30pLFxuICB9O1xufVxuXG5mdW5jdGlvbiBwYXJhbWV0ZXIzKGdpdmVuOiBKc29uTWFwKTogSnNvbk1hcCB7XG4gIGNvbnN0IHNjaGVtYSA9IHNjaGVtYU9mKGdpdmVuKTtcbiAgY29uc3Qgc3R5bGUgPSBzdHlsZXNbU3RyaW5nKGdpdmVuLmNvbGxlY3Rpb25Gb3JtYXQgPz8gJ2NzdicpXSA/PyB7fTtcbiAgcmV0dXJuIHtcbiAgICBuYW1lOiBnaXZlbi5uYW1lID8/IG51bGwsXG4gICAgaW46IGdpdmVuLmluID8/IG51bGwsXG4gICAgcmVxdWlyZWQ6IGdpdmVuLnJlcXVpcmVkID8/IGZhbHNlLFxuICAgIC4uLihnaXZlbi5kZXNjcmlwdGlvbiAhPT0gdW5kZWZpbmVkICYmIHsgZGVzY3JpcHRpb246IGdpdmVuLmRlc2NyaXB0aW9uIH0pLFxuICAgIC4uLihnaXZlblsneC1leGFtcGxlJ10gIT09IHVuZGVmaW5lZCAmJiB7IGV4YW1wbGU6IGdpdmVuWyd4LWV4YW1wbGUnXSB9KSxcbiAgICBzY2hlbWEsXG4gICAgLi4uKHNjaGVtYS50eXBlID09PSAnYXJyYXknICYmIHN0eWxlKSxcbiAgfTtcbn1cblxuZnVuY3Rpb24gc2NoZW1hT2YoZ2l2ZW46IEpzb25NYXApOiBKc29uTWFwIHtcbiAgcmV0dXJuIE9iamVjdC5mcm9tRW50cmllcyhzY2hlbWFLZXlzLmZsYXRNYXAoKGtleSkgPT4gKGdpdmVuW2tleV0gPT09IHVuZGVmaW5lZCA/IFtdIDogW1trZXksIGdpdmVuW2tleV0gYXMgSnNvbl1dKSkpO1xufVxuXG5mdW5jdGlvbiBib2R5T2YoYm9keTogSnNvbk1hcCwgY29uc3VtZXM6IHJlYWRvbmx5IHN0cmluZ1tdKTogSnNvbk1hcCB7XG4gIGNvbnN0IHR5cGVzID0gY29uc3VtZXMubGVuZ3RoID4gMCA/IGNvbnN1bWVzIDogWydhcHBsaWNhdGlvbi9qc29uJ107XG4gIGNvbnN0IGNvbnRlbnQgPSB7IHNjaGVtYTogYm9keS5zY2hlbWEgPz8ge30gfTtcbiAgcmV0dXJuIHtcbiAgICByZXF1aXJlZDogYm9keS5yZXF1aXJlZCA9PT0gdHJ1ZSxcbiAgICAuLi4oYm9keS5kZXNjcmlwdGlvbiAhPT0gdW5kZWZpbmVkICYmIHsgZGVzY3JpcHRpb246IGJvZHkuZGVzY3JpcHRpb24gfSksXG4gICAgY29udGVudDogT2JqZWN0LmZyb21FbnRyaWVzKHR5cGVzLm1hcCgodHlwZSkgPT4gW3R5cGUsIGNvbnRlbnRdKSksXG4gIH07XG59XG5cbmZ1bmN0aW9uIGZvcm1PZihmaWVsZHM6IHJlYWRvbmx5IEpzb25NYXBbXSwgY29uc3VtZXM6IHJlYWRvbmx5IHN0cmluZ1tdKTogSnNvbk1hcCB7XG4gIGNvbnN0IGZpbGUgPSBmaWVsZHMuc29tZSgob25lKSA9PiBvbmUudHlwZSA9PT0gJ2ZpbGUnKTtcbiAgY29uc3QgdXN1YWwgPSBmaWxlID8gJ211bHRpcGFydC9mb3JtLWRhdGEnIDogJ2FwcGxpY2F0aW9uL3gtd3d3LWZvcm0tdXJsZW5jb2RlZCc7XG4gIGNvbnN0IHR5cGUgPSBjb25zdW1lcy5maW5kKChvbmUpID0+IC9mb3JtLy50ZXN0KG9uZSkpID8/IHVzdWFsO1xuICBjb25zdCBwcm9wZXJ0aWVzID0gT2JqZWN0LmZyb21FbnRyaWVzKFxuICAgIGZpZWxkcy5tYXAoKG9uZSkgPT4ge1xuICAgICAgY29uc3Qgc2NoZW1hID0gb25lLnR5cGUgPT09ICdmaWxlJyA/IHsgdHlwZTogJ3N0cmluZycsIGZvcm1hdDogJ2JpbmFyeScgfSA6IHNjaGVtYU9mKG9uZSk7XG4gICAgICByZXR1cm4gW1N0cmluZyhvbmUubmFtZSksIHsgLi4uc2NoZW1hLCAuLi4ob25lLmRlc2NyaXB0aW9uICE9PSB1bmRlZmluZWQgJiYgeyBkZXNjcmlwdGlvbjogb25lLmRlc2NyaXB0aW9uIH0pIH1dO1xuICAgIH0pLFxuICApO1xuICBjb25zdCByZXF1aXJlZCA9IGZpZWxkcy5maWx0ZXIoKG9uZSkgPT4gb25lLnJlcXVpcmVkID09PSB0cnVlKS5tYXAoKG9uZSkgPT4gU3RyaW5nKG9uZS5uYW1lKSk7XG4gIHJldHVybiB7IHJlcXVpcmVkOiByZXF1aXJlZC5sZW5ndGggPiAwLCBjb250ZW50OiB7IFt0eXBlXTogeyBzY2hlbWE6IHsgdHlwZTogJ29iamVjdCcsIHByb3BlcnRpZXMsIHJlcXVpcmVkIH0gfSB9IH07XG59XG5cbmZ1bmN0aW9uIGFuc3dlcjMoYW5zd2VyOiBKc29uIHwgdW5kZWZpbmVkLCBwcm9kdWNlczogcmVhZG9ubHkgc3RyaW5nW10pOiBKc29uIHtcbiAgaWYgKCFpc01hcChhbnN3ZXIpKSByZXR1cm4gYW5zd2VyID8/IG51bGw7XG4gIGNvbnN0IHsgc2NoZW1hLCBleGFtcGxlcywgaGVhZGVycywgLi4ucmVzdCB9ID0gYW5zd2VyO1xuICBjb25zdCBleGFtcGxlID0gKHR5cGU6IHN0cmluZyk6IEpzb25NYXAgPT5cbiAgICBpc01hcChleGFtcGxlcykgJiYgZXhhbXBsZXNbdHlwZV0gIT09IHVuZGVmaW5lZCA/IHsgZXhhbXBsZTogZXhhbXBsZXNbdHlwZV0gYXMgSnNvbiB9IDoge307XG4gIGNvbnN0IHR5cGVzID0gcHJvZHVjZXMubGVuZ3RoID4gMCA/IHByb2R1Y2VzIDogWydhcHBsaWNhdGlvbi9qc29uJ107XG4gIHJldHVybiB7XG4gICAgLi4ucmVzdCxcbiAgICAuLi4oc2NoZW1hICE9PSB1bmRlZmluZWQgJiYge1xuICAgICAgY29udGVudDogT2JqZWN0LmZyb21FbnRyaWVzKHR5cGVzLm1hcCgodHlwZSkgPT4gW3R5cGUsIHsgc2NoZW1hLCAuLi5leGFtcGxlKHR5cGUpIH1dKSksXG4gICAgfSksXG4gICAgLi4uKGlzTWFwKGhlYWRlcnMpICYmIHtcbiAgICAgIGhlYWRlcnM6IE9iamVjdC5mcm9tRW50cmllcyhcbiAgICAgICAgT2JqZWN0LmVudHJpZXMoaGVhZGVycykubWFwKChbbmFtZSwgb25lXSkgPT4gW1xuICAgICAgICAgIG5hbWUsXG4gICAgICAgICAgaXNNYXAob25lKVxuICAgICAgICAgICAgPyB7IC4uLihvbmUuZGVzY3JpcHRpb24gIT09IHVuZGVmaW5lZCAmJiB7IGRlc2NyaXB0aW9uOiBvbmUuZGVzY3JpcHRpb24gfSksIHNjaGVtYTogc2NoZW1hT2Yob25lKSB9XG4gICAgICAgICAgICA6IG9uZSxcbiAgICAgICAgXSksXG4gICAgICApLFxuICAgIH0pLFxuICB9O1xufVxuXG4vKiogYHNlY3VyaXR5RGVmaW5pdGlvbnNgIGluIHRoZSBmb3JtIG9mIGBjb21wb25lbnRzLnNlY3VyaXR5U2NoZW1lc2AuICovXG5leHBvcnQgZnVuY3Rpb24gc2VjdXJpdHlTY2hlbWVzMyhnaXZlbjogSnNvbiB8IHVuZGVmaW5lZCk6IEpzb25NYXAge1xuICBpZiAoIWlzTWFwKGdpdmVuKSkgcmV0dXJuIHt9O1xuICByZXR1cm4gT2JqZWN0LmZyb21FbnRyaWVzKFxuICAgIE9iamVjdC5lbnRyaWVzKGdpdmVuKS5tYXAoKFtuYW1lLCBzY2hlbWVdKSA9PiB7XG4gICAgICBpZiAoIWlzTWFwKHNjaGVtZSkpIHJldHVybiBbbmFtZSwgc2NoZW1lXTtcbiAgICAgIGlmIChzY2hlbWUudHlwZSA9PT0gJ2Jhc2ljJykgcmV0dXJuIFtuYW1lLCB7IHR5cGU6ICdodHRwJywgc2NoZW1lOiAnYmFzaWMnIH1dO1xuICAgICAgcmV0dXJuIFtuYW1lLCBzY2hlbWUudHlwZSA9PT0gJ29hdXRoMicgPyB7IC4uLnNjaGVtZSwgZmxvd3M6IHsgW1N0cmluZyhzY2hlbWUuZmxvdyldOiB7fSB9IH0gOiBzY2hlbWVdO1xuICAgIH0pLFxuICApO1xufVxuIiwgIi8qKiBPcGVuQVBJIDIuMCwgMy4wIGFuZCAzLjE6IGZyb20gdGhlIGRvY3VtZW50cyB0byB3aGF0IHRoZSBpbmRleCBrZWVwcy4gRmF1bHR5IHBhcnRzIGFyZSBsb3N0IGFsb25lLCB3aXRoIGEgd2FybmluZy4gKi9cbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHR5cGUgeyBWYWx1ZSB9IGZyb20gJy4uLy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHR5cGUgeyBEb2N1bWVudHMgfSBmcm9tICcuLi9kb2N1bWVudHMuanMnO1xuaW1wb3J0IHR5cGUgeyBEb2N1bWVudGF0aW9uLCBPcGVyYXRpb25FbnRyeSwgU2VydmVyLCBXYXJuaW5nIH0gZnJvbSAnLi4vbW9kZWwuanMnO1xuaW1wb3J0IHsgY29sbGVjdERlZmluaXRpb25zLCBuYW1lZFNjaGVtYXMgfSBmcm9tICcuL2RlZmluaXRpb25zLmpzJztcbmltcG9ydCB7IGRvY3VtZW50ZWRMaW5rcywgdHlwZSBPd25PcGVyYXRpb24gfSBmcm9tICcuL2Rlc2NyaWJlLmpzJztcbmltcG9ydCB7IHdhcm5PZkZhdWx0cyB9IGZyb20gJy4vZmF1bHRzLmpzJztcbmltcG9ydCB7IGJlbG93LCBpc01hcCwgdHlwZSBKc29uLCB0eXBlIEpzb25NYXAsIHBvaW50ZXIsIHR5cGUgUmVmZXJlbmNlcywgcmVmZXJlbmNlcyB9IGZyb20gJy4vcmVmZXJlbmNlcy5qcyc7XG5pbXBvcnQgeyBvcGVyYXRpb24zLCBzZWN1cml0eVNjaGVtZXMzLCBzZXJ2ZXIyLCB0eXBlIFZlcnNpb24yLCB2ZXJzaW9uMk9mIH0gZnJvbSAnLi92ZXJzaW9uMi5qcyc7XG5cbmNvbnN0IG1ldGhvZHMgPSBbJ2dldCcsICdwdXQnLCAncG9zdCcsICdkZWxldGUnLCAnb3B0aW9ucycsICdoZWFkJywgJ3BhdGNoJywgJ3RyYWNlJ10gYXMgY29uc3Q7XG5jb25zdCBtb3N0V2FybmluZ3MgPSA1MDAwO1xuXG4vKiogQHRocm93cyBQcm9ibGVtIGRvY3VtZW50LXVucmVhZGFibGUgKi9cbmV4cG9ydCBmdW5jdGlvbiByZWFkT3BlbkFwaShkb2N1bWVudHM6IERvY3VtZW50cywgc291cmNlOiBzdHJpbmcpOiBEb2N1bWVudGF0aW9uIHtcbiAgY29uc3Qgcm9vdCA9IGRvY3VtZW50cy5tYWluLmNvbnRlbnQgYXMgSnNvbk1hcDtcbiAgY29uc3QgdmVyc2lvbiA9IHZlcnNpb25PZihyb290KTtcbiAgaWYgKHJvb3QucGF0aHMgIT09IHVuZGVmaW5lZCAmJiAhaXNNYXAocm9vdC5wYXRocykpIHtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgnZG9jdW1lbnQtdW5yZWFkYWJsZScsIHtcbiAgICAgIHdoYXQ6ICd0aGUgZG9jdW1lbnQgY2xhaW1zIHRvIGJlIE9wZW5BUEksIGJ1dCBpdHMgcGF0aHMgYXJlIG5vdCBhIG1hcCcsXG4gICAgICB3aGVyZTogJy9wYXRocycsXG4gICAgfSk7XG4gIH1cbiAgcmV0dXJuIG5ldyBSZWFkaW5nKHJvb3QsIHNvdXJjZSwgdmVyc2lvbiwgZG9jdW1lbnRzKS5kb2N1bWVudGF0aW9uKCk7XG59XG5cbmZ1bmN0aW9uIHZlcnNpb25PZihyb290OiBKc29uTWFwKTogc3RyaW5nIHtcbiAgY29uc3QgdmVyc2lvbiA9IFN0cmluZyhyb290Lm9wZW5hcGkgPz8gcm9vdC5zd2FnZ2VyKTtcbiAgaWYgKC9eM1xcLlswMV0oPzpcXC58JCkvLnRlc3QodmVyc2lvbikgJiYgcm9vdC5vcGVuYXBpICE9PSB1bmRlZmluZWQpIHJldHVybiB2ZXJzaW9uO1xuICBpZiAoL14yKD86XFwuMCk/JC8udGVzdCh2ZXJzaW9uKSkgcmV0dXJuICcyLjAnO1xuICB0aHJvdyBuZXcgUHJvYmxlbSgnZG9jdW1lbnQtdW5yZWFkYWJsZScsIHtcbiAgICB3aGF0OiBgT3BlbkFQSSAke3ZlcnNpb259IGlzIG5vdCByZWFkYCxcbiAgICByZW1lZHk6ICd2ZXJzaW9ucyAyLjAsIDMuMCBhbmQgMy4xIGFyZTsgbWFueSB2ZW5kb3JzIHB1Ymxpc2ggb25lIG9mIHRoZW0gYmVzaWRlIHRoZSBvdGhlcnMnLFxuICAgIGRhdGE6IHsgdmVyc2lvbiB9LFxuICB9KTtcbn1cblxuY2xhc3MgUmVhZGluZyB7XG4gIHByaXZhdGUgcmVhZG9ubHkgZGVmaW5pdGlvbnM6IE1hcDxzdHJpbmcsIFZhbHVlPjtcbiAgcHJpdmF0ZSByZWFkb25seSB3YXJuaW5nczogV2FybmluZ1tdO1xuICBwcml2YXRlIHJlYWRvbmx5IHJlZmVyZW5jZXM6IFJlZmVyZW5jZXM7XG4gIHByaXZhdGUgcmVhZG9ubHkgaWRzID0gbmV3IFNldDxzdHJpbmc+KCk7XG4gIHByaXZhdGUgcmVhZG9ubHkgdmVyc2lvbjI6IFZlcnNpb24yIHwgdW5kZWZpbmVkO1xuICBwcml2YXRlIHJlYWRvbmx5IHNlcnZlcnM6IEpzb24gfCB1bmRlZmluZWQ7XG5cbiAgY29uc3RydWN0b3IoXG4gICAgcHJpdmF0ZSByZWFkb25seSByb290OiBKc29uTWFwLFxuICAgIHByaXZhdGUgcmVhZG9ubHkgc291cmNlOiBzdHJpbmcsXG4gICAgcHJpdmF0ZSByZWFkb25seSB2ZXJzaW9uOiBzdHJpbmcsXG4gICAgeyBtYWluLCBwYXJ0cyB9OiBEb2N1bWVudHMsXG4gICkge1xuICAgIGNvbnN0IHsgZGVmaW5pdGlvbnMsIHdhcm5pbmdzIH0gPSBjb2xsZWN0RGVmaW5pdGlvbnMoeyBtYWluLCBwYXJ0cyB9KTtcbiAgICB0aGlzLmRlZmluaXRpb25zID0gZGVmaW5pdGlvbnM7XG4gICAgdGhpcy53YXJuaW5ncyA9IHdhcm5pbmdzO1xuICAgIHRoaXMucmVmZXJlbmNlcyA9IHJlZmVyZW5jZXMoZGVmaW5pdGlvbnMpO1xuICAgIHRoaXMudmVyc2lvbjIgPSB2ZXJzaW9uID09PSAnMi4wJyA/IHZlcnNpb24yT2Yocm9vdCkgOiB1bmRlZmluZWQ7XG4gICAgY29uc3QgZmV0Y2hlZCA9IC9eaHR0cHM/Oi8udGVzdChtYWluLnVyaSkgPyBuZXcgVVJMKG1haW4udXJpKS5vcmlnaW4gOiB1bmRlZmluZWQ7XG4gICAgdGhpcy5zZXJ2ZXJzID0gdGhpcy52ZXJzaW9uMiA/IHNlcnZlcjIocm9vdCwgZmV0Y2hlZCkgOiByb290LnNlcnZlcnM7XG4gIH1cblxuICBkb2N1bWVudGF0aW9uKCk6IERvY3VtZW50YXRpb24ge1xuICAgIGNvbnN0IHsgcm9vdCB9ID0gdGhpcztcbiAgICBjb25zdCBpbmZvID0gaXNNYXAocm9vdC5pbmZvKSA/IHJvb3QuaW5mbyA6IHt9O1xuICAgIGNvbnN0IHR5cGVzID0gbmV3IE1hcDxzdHJpbmcsIHN0cmluZz4oKTtcbiAgICBmb3IgKGNvbnN0IFtuYW1lLCB7IGtleSwgc2NoZW1hIH1dIG9mIG5hbWVkU2NoZW1hcyhyb290KSkge1xuICAgICAgdHlwZXMuc2V0KG5hbWUsIGtleSk7XG4gICAgICB0aGlzLmRlZmluaXRpb25zLnNldChrZXksIHNjaGVtYSBhcyBWYWx1ZSk7XG4gICAgfVxuICAgIGNvbnN0IGNvbXBvbmVudHMgPSBpc01hcChyb290LmNvbXBvbmVudHMpID8gcm9vdC5jb21wb25lbnRzIDoge307XG4gICAgY29uc3Qgc2NoZW1lcyA9IHRoaXMudmVyc2lvbjIgPyBzZWN1cml0eVNjaGVtZXMzKHJvb3Quc2VjdXJpdHlEZWZpbml0aW9ucykgOiBjb21wb25lbnRzLnNlY3VyaXR5U2NoZW1lcztcbiAgICBmb3IgKGNvbnN0IFtuYW1lLCBzY2hlbWVdIG9mIE9iamVjdC5lbnRyaWVzKGlzTWFwKHNjaGVtZXMpID8gc2NoZW1lcyA6IHt9KSlcbiAgICAgIHRoaXMuZGVmaW5pdGlvbnMuc2V0KGAjL2NvbXBvbmVudHMvc2VjdXJpdHlTY2hlbWVzLyR7bmFtZX1gLCBzY2hlbWUgYXMgVmFsdWUpO1xuICAgIGNvbnN0IG9wZXJhdGlvbnMgPSBPYmplY3QuZW50cmllcyhpc01hcChyb290LnBhdGhzKSA/IHJvb3QucGF0aHMgOiB7fSkuZmxhdE1hcCgoW3BhdGgsIGl0ZW1dKSA9PlxuICAgICAgcGF0aC5zdGFydHNXaXRoKCd4LScpID8gW10gOiB0aGlzLnBhdGhJdGVtKHBhdGgsIGl0ZW0pLFxuICAgICk7XG4gICAgaWYgKG9wZXJhdGlvbnMubGVuZ3RoID09PSAwKSB0aGlzLnJlZmVyZW5jZXMud2FybignL3BhdGhzJywgJ3RoZSBkb2N1bWVudCBkZXNjcmliZXMgbm8gb3BlcmF0aW9uJyk7XG4gICAgcmV0dXJuIHtcbiAgICAgIGZvcm1hdDogJ09wZW5BUEknLFxuICAgICAgdmVyc2lvbjogdGhpcy52ZXJzaW9uLFxuICAgICAgdGl0bGU6IHR5cGVvZiBpbmZvLnRpdGxlID09PSAnc3RyaW5nJyA/IGluZm8udGl0bGUgOiB0aGlzLnNvdXJjZSxcbiAgICAgIHNlcnZlcnM6IHNlcnZlcnNPZih0aGlzLnNlcnZlcnMpLFxuICAgICAgb3BlcmF0aW9ucyxcbiAgICAgIGRlZmluaXRpb25zOiB0aGlzLmRlZmluaXRpb25zLFxuICAgICAgdHlwZXMsXG4gICAgICB3ZWJob29rczogd2ViaG9va05hbWVzKHJvb3QpLFxuICAgICAgd2FybmluZ3M6IGRlZHVwZShbLi4udGhpcy53YXJuaW5ncywgLi4udGhpcy5yZWZlcmVuY2VzLndhcm5pbmdzXSkuc2xpY2UoMCwgbW9zdFdhcm5pbmdzKSxcbiAgICB9O1xuICB9XG5cbiAgcHJpdmF0ZSBwYXRoSXRlbShwYXRoOiBzdHJpbmcsIGdpdmVuOiBKc29uKTogT3BlcmF0aW9uRW50cnlbXSB7XG4gICAgY29uc3QgYXQgPSBwb2ludGVyKCdwYXRocycsIHBhdGgpO1xuICAgIGNvbnN0IGl0ZW0gPSB0aGlzLnJlZmVyZW5jZXMuZm9sbG93KGdpdmVuLCBhdCk7XG4gICAgaWYgKCFpc01hcChpdGVtKSkge1xuICAgICAgdGhpcy5yZWZlcmVuY2VzLndhcm4oYXQsICd0aGUgcGF0aCBpcyBub3QgYSBtYXAgb2YgbWV0aG9kcycpO1xuICAgICAgcmV0dXJuIFtdO1xuICAgIH1cbiAgICByZXR1cm4gbWV0aG9kcy5mbGF0TWFwKChtZXRob2QpID0+IHtcbiAgICAgIGlmIChpdGVtW21ldGhvZF0gPT09IHVuZGVmaW5lZCkgcmV0dXJuIFtdO1xuICAgICAgY29uc3Qgd2hlcmUgPSBiZWxvdyhhdCwgbWV0aG9kKTtcbiAgICAgIGNvbnN0IGRlc2NyaWJlZCA9IGl0ZW1bbWV0aG9kXTtcbiAgICAgIGlmICghaXNNYXAoZGVzY3JpYmVkKSkge1xuICAgICAgICB0aGlzLnJlZmVyZW5jZXMud2Fybih3aGVyZSwgJ3RoZSBvcGVyYXRpb24gaXMgbm90IGEgbWFwJyk7XG4gICAgICAgIHJldHVybiBbXTtcbiAgICAgIH1cbiAgICAgIGNvbnN0IGVudHJ5ID0gdGhpcy5vcGVyYXRpb24obWV0aG9kLCBwYXRoLCBkZXNjcmliZWQsIGl0ZW0sIHdoZXJlKTtcbiAgICAgIHdhcm5PZkZhdWx0cyhlbnRyeSwgdGhpcy5yZWZlcmVuY2VzKTtcbiAgICAgIHJldHVybiBbZW50cnldO1xuICAgIH0pO1xuICB9XG5cbiAgcHJpdmF0ZSBvcGVyYXRpb24obWV0aG9kOiBzdHJpbmcsIHBhdGg6IHN0cmluZywgb3duOiBKc29uTWFwLCBpdGVtOiBKc29uTWFwLCBhdDogc3RyaW5nKTogT3BlcmF0aW9uRW50cnkge1xuICAgIGNvbnN0IHsgdmVyc2lvbjIsIHJvb3QgfSA9IHRoaXM7XG4gICAgY29uc3QgW3NlcnZlcl0gPSBzZXJ2ZXJzT2Yob3duLnNlcnZlcnMgPz8gaXRlbS5zZXJ2ZXJzID8/IHRoaXMuc2VydmVycyk7XG4gICAgY29uc3QgdGFncyA9IEFycmF5LmlzQXJyYXkob3duLnRhZ3MpID8gb3duLnRhZ3MuZmlsdGVyKCh0YWcpID0+IHR5cGVvZiB0YWcgPT09ICdzdHJpbmcnKSA6IFtdO1xuICAgIGNvbnN0IHNlY3VyaXR5ID0gb3duLnNlY3VyaXR5ID8/IHJvb3Quc2VjdXJpdHk7XG4gICAgY29uc3Qga2VwdDogT3duT3BlcmF0aW9uID0ge1xuICAgICAgYXQsXG4gICAgICBvcGVyYXRpb246IHZlcnNpb24yID8gb3BlcmF0aW9uMyhvd24sIGl0ZW0ucGFyYW1ldGVycywgdmVyc2lvbjIsIHRoaXMucmVmZXJlbmNlcywgYXQpIDogb3duLFxuICAgICAgLi4uKHZlcnNpb24yID09PSB1bmRlZmluZWQgJiYgaXRlbS5wYXJhbWV0ZXJzICE9PSB1bmRlZmluZWQgJiYgeyBzaGFyZWQ6IGl0ZW0ucGFyYW1ldGVycyB9KSxcbiAgICAgIC4uLihzZWN1cml0eSAhPT0gdW5kZWZpbmVkICYmIHsgc2VjdXJpdHkgfSksXG4gICAgfTtcbiAgICBjb25zdCBsaW5rcyA9IGRvY3VtZW50ZWRMaW5rcyhvd24ucmVzcG9uc2VzLCB0aGlzLnJlZmVyZW5jZXMsIGF0KTtcbiAgICByZXR1cm4ge1xuICAgICAgaWQ6IHRoaXMuaWQob3duLm9wZXJhdGlvbklkLCBtZXRob2QsIHBhdGgsIGF0KSxcbiAgICAgIGdyb3VwOlxuICAgICAgICB0YWdzWzBdID8/XG4gICAgICAgIHBhdGguc3BsaXQoJy8nKS5maW5kKChwYXJ0KSA9PiBwYXJ0ICE9PSAnJyAmJiAhcGFydC5zdGFydHNXaXRoKCd7JykgJiYgIS9edlxcZC8udGVzdChwYXJ0KSkgPz9cbiAgICAgICAgJ29wZXJhdGlvbnMnLFxuICAgICAgLi4uKHR5cGVvZiBvd24uc3VtbWFyeSA9PT0gJ3N0cmluZycgJiYgeyBzdW1tYXJ5OiBvd24uc3VtbWFyeSB9KSxcbiAgICAgIG1ldGhvZDogbWV0aG9kLnRvVXBwZXJDYXNlKCksXG4gICAgICBwYXRoOiBiYXNlUGF0aChzZXJ2ZXI/LnVybCkgKyBwYXRoLFxuICAgICAgLi4uKG93bi5kZXByZWNhdGVkID09PSB0cnVlICYmIHsgZGVwcmVjYXRlZDogdHJ1ZSB9KSxcbiAgICAgIC4uLihsaW5rcy5sZW5ndGggPiAwICYmIHsgbGlua3MgfSksXG4gICAgICBvd246IGtlcHQgYXMgdW5rbm93biBhcyBWYWx1ZSxcbiAgICB9O1xuICB9XG5cbiAgcHJpdmF0ZSBpZChnaXZlbjogSnNvbiB8IHVuZGVmaW5lZCwgbWV0aG9kOiBzdHJpbmcsIHBhdGg6IHN0cmluZywgYXQ6IHN0cmluZyk6IHN0cmluZyB7XG4gICAgbGV0IGlkID0gdHlwZW9mIGdpdmVuID09PSAnc3RyaW5nJyAmJiBnaXZlbi50cmltKCkgIT09ICcnID8gZ2l2ZW4udHJpbSgpLnJlcGxhY2UoL1tcXHMvXSsvZywgJy0nKSA6ICcnO1xuICAgIGlmIChpZCA9PT0gJycpIHtcbiAgICAgIGlkID0gYCR7bWV0aG9kfSR7cGF0aH1gXG4gICAgICAgIC5yZXBsYWNlKC9be31dL2csICcnKVxuICAgICAgICAucmVwbGFjZSgvW15BLVphLXowLTldKy9nLCAnLScpXG4gICAgICAgIC5yZXBsYWNlKC8tJC8sICcnKTtcbiAgICAgIGlmIChnaXZlbiAhPT0gdW5kZWZpbmVkKSB0aGlzLnJlZmVyZW5jZXMud2FybihhdCwgJ29wZXJhdGlvbklkIGlzIG5vdCBhIHRleHQnKTtcbiAgICB9XG4gICAgbGV0IHVuaXF1ZSA9IGlkO1xuICAgIGZvciAobGV0IGNvdW50ID0gMjsgdGhpcy5pZHMuaGFzKHVuaXF1ZSk7IGNvdW50ICs9IDEpIHVuaXF1ZSA9IGAke2lkfS0ke2NvdW50fWA7XG4gICAgaWYgKHVuaXF1ZSAhPT0gaWQpIHRoaXMucmVmZXJlbmNlcy53YXJuKGF0LCBgdGhlIG9wZXJhdGlvbklkICR7aWR9IHN0YW5kcyB0d2ljZTsgdGhpcyBvbmUgaXMgY2FsbGVkICR7dW5pcXVlfWApO1xuICAgIHRoaXMuaWRzLmFkZCh1bmlxdWUpO1xuICAgIHJldHVybiB1bmlxdWU7XG4gIH1cbn1cblxuZnVuY3Rpb24gd2ViaG9va05hbWVzKHJvb3Q6IEpzb25NYXApOiBzdHJpbmdbXSB7XG4gIGNvbnN0IGdpdmVuID0gaXNNYXAocm9vdC53ZWJob29rcykgPyByb290LndlYmhvb2tzIDogaXNNYXAocm9vdFsneC13ZWJob29rcyddKSA/IHJvb3RbJ3gtd2ViaG9va3MnXSA6IHt9O1xuICByZXR1cm4gT2JqZWN0LmVudHJpZXMoZ2l2ZW4pLmZsYXRNYXAoKFtuYW1lLCBpdGVtXSkgPT5cbiAgICBpc01hcChpdGVtKVxuICAgICAgPyBtZXRob2RzLmZpbHRlcigobWV0aG9kKSA9PiBpdGVtW21ldGhvZF0gIT09IHVuZGVmaW5lZCkubWFwKChtZXRob2QpID0+IGAke21ldGhvZC50b1VwcGVyQ2FzZSgpfSAke25hbWV9YClcbiAgICAgIDogW10sXG4gICk7XG59XG5cbi8qKiBTZXJ2ZXIgYWRkcmVzc2VzIHdpdGggdGhlaXIgdmFyaWFibGVzIGF0IHRoZSBkZWZhdWx0LiAqL1xuZnVuY3Rpb24gc2VydmVyc09mKGdpdmVuOiBKc29uIHwgdW5kZWZpbmVkKTogU2VydmVyW10ge1xuICBpZiAoIUFycmF5LmlzQXJyYXkoZ2l2ZW4pKSByZXR1cm4gW107XG4gIHJldHVybiBnaXZlbi5maWx0ZXIoaXNNYXApLmZsYXRNYXAoKHsgdXJsLCB2YXJpYWJsZXMsIGRlc2NyaXB0aW9uIH0pID0+IHtcbiAgICBpZiAodHlwZW9mIHVybCAhPT0gJ3N0cmluZycpIHJldHVybiBbXTtcbiAgICBjb25zdCBhbGwgPSBPYmplY3QuZW50cmllcyhpc01hcCh2YXJpYWJsZXMpID8gdmFyaWFibGVzIDoge30pLmZpbHRlcigoZW50cnkpOiBlbnRyeSBpcyBbc3RyaW5nLCBKc29uTWFwXSA9PlxuICAgICAgaXNNYXAoZW50cnlbMV0pLFxuICAgICk7XG4gICAgcmV0dXJuIFtcbiAgICAgIHtcbiAgICAgICAgdXJsOiB1cmwucmVwbGFjZSgvXFx7KFtefV0rKVxcfS9nLCAod2hvbGUsIG5hbWU6IHN0cmluZykgPT4ge1xuICAgICAgICAgIGNvbnN0IHZhcmlhYmxlID0gYWxsLmZpbmQoKFtrZXldKSA9PiBrZXkgPT09IG5hbWUpPy5bMV07XG4gICAgICAgICAgcmV0dXJuIHZhcmlhYmxlPy5kZWZhdWx0ID09PSB1bmRlZmluZWQgPyB3aG9sZSA6IFN0cmluZyh2YXJpYWJsZS5kZWZhdWx0KTtcbiAgICAgICAgfSksXG4gICAgICAgIC4uLihhbGwubGVuZ3RoID4gMCAmJiB7IHRlbXBsYXRlOiB1cmwgfSksXG4gICAgICAgIC4uLih0eXBlb2YgZGVzY3JpcHRpb24gPT09ICdzdHJpbmcnICYmIHsgZGVzY3JpcHRpb24gfSksXG4gICAgICAgIHZhcmlhYmxlczogYWxsLm1hcCgoW25hbWUsIG9uZV0pID0+ICh7XG4gICAgICAgICAgbmFtZSxcbiAgICAgICAgICBkZWZhdWx0OiBTdHJpbmcob25lLmRlZmF1bHQgPz8gJycpLFxuICAgICAgICAgIGFsbG93ZWQ6IEFycmF5LmlzQXJyYXkob25lLmVudW0pID8gb25lLmVudW0ubWFwKFN0cmluZykgOiBbXSxcbiAgICAgICAgfSkpLFxuICAgICAgfSxcbiAgICBdO1xuICB9KTtcbn1cblxuLyoqIFdoYXQgYSBzZXJ2ZXIncyBhZGRyZXNzIGhhcyBiZWhpbmQgaXRzIG9yaWdpbiwgd2l0aG91dCBhIGNsb3Npbmcgc2xhc2guICovXG5mdW5jdGlvbiBiYXNlUGF0aChzZXJ2ZXI6IHN0cmluZyB8IHVuZGVmaW5lZCk6IHN0cmluZyB7XG4gIGlmIChzZXJ2ZXIgPT09IHVuZGVmaW5lZCkgcmV0dXJuICcnO1xuICByZXR1cm4gc2VydmVyLnJlcGxhY2UoL15bYS16XVthLXowLTkrLi1dKjpcXC9cXC9bXi9dKi9pLCAnJykucmVwbGFjZSgvXFwvKyQvLCAnJyk7XG59XG5cbmZ1bmN0aW9uIGRlZHVwZSh3YXJuaW5nczogcmVhZG9ubHkgV2FybmluZ1tdKTogV2FybmluZ1tdIHtcbiAgcmV0dXJuIFsuLi5uZXcgTWFwKHdhcm5pbmdzLm1hcCgod2FybmluZykgPT4gW2Ake3dhcm5pbmcuYXR9ICR7d2FybmluZy53aGF0fWAsIHdhcm5pbmddKSkudmFsdWVzKCldO1xufVxuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFTTyxTQUFTLGFBQWEsRUFBRSxNQUFNLElBQUksR0FBbUJBLGFBQThCO0FBQ3hGLFFBQU0sRUFBRSxXQUFXLElBQUksUUFBUSxTQUFTLElBQUk7QUFDNUMsbUJBQWlCLENBQUMsUUFBUSxVQUFVLFVBQVUsR0FBRyxNQUFNQSxhQUFZLEVBQUU7QUFDckUsTUFBSSxVQUFVLGdCQUFnQixPQUFXLFlBQVcsVUFBVSxhQUFhQSxhQUFZLEVBQUU7QUFDekYsZ0JBQWMsVUFBVSxXQUFXQSxhQUFZLEVBQUU7QUFDakQsaUJBQWUsVUFBVUEsYUFBWSxFQUFFO0FBQ3pDO0FBR0EsSUFBTSxXQUFXLENBQ2YsT0FDQUEsYUFDQSxPQUNHLFNBRUgsTUFBTSxLQUFLLEtBQUssT0FBTyxNQUFNLFNBQVMsV0FBV0EsWUFBVyxPQUFPLE9BQU8sS0FBSyxRQUFRLEdBQUcsSUFBSSxDQUFDLElBQUk7QUFFckcsU0FBUyxpQkFDUCxPQUNBLE1BQ0FBLGFBQ0EsSUFDTTtBQUNOLFFBQU0sU0FBUyxvQkFBSSxJQUFZO0FBQy9CLGFBQVcsUUFBUSxPQUFPO0FBQ3hCLFFBQUksU0FBUyxPQUFXO0FBQ3hCLFFBQUksQ0FBQyxNQUFNLFFBQVEsSUFBSSxFQUFHLENBQUFBLFlBQVcsS0FBSyxJQUFJLDBCQUEwQjtBQUN4RSxlQUFXLENBQUMsT0FBTyxLQUFLLE1BQU0sTUFBTSxRQUFRLElBQUksSUFBSyxPQUEyQixDQUFDLEdBQUcsUUFBUSxHQUFHO0FBQzdGLFlBQU0sWUFBWSxTQUFTLE9BQU9BLGFBQVksSUFBSSxjQUFjLEtBQUs7QUFDckUsVUFBSSxjQUFjLE9BQVc7QUFDN0IsVUFBSSxDQUFDLFlBQVksU0FBUyxHQUFHO0FBQzNCLFFBQUFBLFlBQVcsS0FBSyxLQUFLLFFBQVEsY0FBYyxLQUFLLEdBQUcsd0RBQXdEO0FBQUEsTUFDN0csV0FBVyxVQUFVLE9BQU8sT0FBUSxRQUFPLElBQUksVUFBVSxJQUFJO0FBQUEsSUFDL0Q7QUFBQSxFQUNGO0FBQ0EsTUFBSSxDQUFDLEtBQUssU0FBUyxHQUFHLEVBQUc7QUFDekIsYUFBVyxDQUFDLEVBQUUsSUFBSSxLQUFLLEtBQUssU0FBUyxjQUFjO0FBQ2pELFFBQUksU0FBUyxVQUFhLENBQUMsT0FBTyxJQUFJLElBQUksRUFBRyxDQUFBQSxZQUFXLEtBQUssSUFBSSxzQkFBc0IsSUFBSSxtQkFBbUI7QUFDbEg7QUFFQSxTQUFTLFdBQVcsT0FBYUEsYUFBd0IsSUFBa0I7QUFDekUsUUFBTSxPQUFPLFNBQVMsT0FBT0EsYUFBWSxJQUFJLGFBQWE7QUFDMUQsTUFBSSxDQUFDLE1BQU0sSUFBSSxLQUFLLENBQUMsTUFBTSxLQUFLLE9BQU8sS0FBSyxPQUFPLEtBQUssS0FBSyxPQUFPLEVBQUUsV0FBVztBQUMvRSxJQUFBQSxZQUFXLEtBQUssTUFBTSxJQUFJLGFBQWEsR0FBRyxpQ0FBaUM7QUFBQSxNQUN4RSxlQUFjLE1BQU1BLGFBQVksTUFBTSxNQUFNLElBQUksYUFBYSxDQUFDO0FBQ3JFO0FBRUEsU0FBUyxjQUFjLFNBQTJCQSxhQUF3QixJQUFrQjtBQUMxRixNQUFJLFlBQVksT0FBVztBQUMzQixNQUFJLENBQUMsTUFBTSxPQUFPLEdBQUc7QUFDbkIsSUFBQUEsWUFBVyxLQUFLLE1BQU0sSUFBSSxXQUFXLEdBQUcsMkJBQTJCO0FBQ25FO0FBQUEsRUFDRjtBQUNBLGFBQVcsVUFBVSxPQUFPLEtBQUssT0FBTyxHQUFHO0FBQ3pDLFVBQU0sU0FBUyxTQUFTLFFBQVEsTUFBTSxHQUFHQSxhQUFZLElBQUksYUFBYSxNQUFNO0FBQzVFLFVBQU0sUUFBUSxNQUFjLEtBQUssUUFBUSxhQUFhLE1BQU07QUFDNUQsUUFBSSxNQUFNLE1BQU0sRUFBRyxlQUFjLFFBQVFBLGFBQVksS0FBSztBQUFBLGFBQ2pELFdBQVcsT0FBVyxDQUFBQSxZQUFXLEtBQUssTUFBTSxHQUFHLHlCQUF5QjtBQUFBLEVBQ25GO0FBQ0Y7QUFFQSxTQUFTLGNBQWMsUUFBMENBLGFBQXdCLElBQXdCO0FBQy9HLE1BQUksQ0FBQyxNQUFNLE9BQU8sT0FBTyxFQUFHO0FBQzVCLGFBQVcsUUFBUSxPQUFPLEtBQUssT0FBTyxPQUFPO0FBQzNDLFFBQUksQ0FBQyxNQUFNLE9BQU8sUUFBUSxJQUFJLENBQUMsRUFBRyxDQUFBQSxZQUFXLEtBQUssR0FBRyxJQUFJLFFBQVEsV0FBVyxJQUFJLEdBQUcsMEJBQTBCO0FBQ2pIO0FBRUEsU0FBUyxlQUFlLFVBQTRCQSxhQUF3QixJQUFrQjtBQUM1RixNQUFJLENBQUMsTUFBTSxRQUFRLFFBQVEsRUFBRztBQUM5QixhQUFXLFFBQVEsVUFBNkI7QUFDOUMsZUFBVyxRQUFRLE9BQU8sS0FBSyxNQUFNLElBQUksSUFBSSxPQUFPLENBQUMsQ0FBQyxHQUFHO0FBQ3ZELFVBQUksQ0FBQyxNQUFNQSxZQUFXLE9BQU8sRUFBRSxNQUFNLGdDQUFnQyxJQUFJLEdBQUcsR0FBRyxFQUFFLENBQUM7QUFDaEYsUUFBQUEsWUFBVyxLQUFLLElBQUksdUJBQXVCLElBQUksbUJBQW1CO0FBQUEsSUFDdEU7QUFBQSxFQUNGO0FBQ0Y7OztBQzNFTyxJQUFNLGFBQWEsQ0FBQyxVQUE2QjtBQUFBLEVBQ3RELFVBQVUsTUFBTSxLQUFLLFFBQVE7QUFBQSxFQUM3QixVQUFVLE1BQU0sS0FBSyxRQUFRO0FBQy9CO0FBRUEsSUFBTSxRQUFRLENBQUMsVUFDYixNQUFNLFFBQVEsS0FBSyxJQUFJLE1BQU0sT0FBTyxDQUFDLFFBQXVCLE9BQU8sUUFBUSxRQUFRLElBQUksQ0FBQztBQUduRixTQUFTLFFBQVEsTUFBZSxRQUF1QztBQUM1RSxRQUFNLFVBQVUsTUFBTSxLQUFLLE9BQU87QUFDbEMsUUFBTSxNQUFNLFdBQVcsU0FBWSxTQUFZLElBQUksSUFBSSxNQUFNO0FBQzdELFFBQU0sT0FBTyxPQUFPLEtBQUssU0FBUyxXQUFXLEtBQUssT0FBTyxLQUFLO0FBQzlELFFBQU0sU0FBUyxRQUFRLEtBQUssQ0FBQyxRQUFRLFFBQVEsT0FBTyxLQUFLLFFBQVEsQ0FBQyxLQUFLLEtBQUssU0FBUyxRQUFRLEtBQUssRUFBRSxLQUFLO0FBQ3pHLFFBQU0sT0FBTyxPQUFPLEtBQUssYUFBYSxXQUFXLEtBQUssV0FBVztBQUNqRSxTQUFPLENBQUMsRUFBRSxLQUFLLFNBQVMsU0FBWSxPQUFPLEdBQUcsTUFBTSxNQUFNLElBQUksR0FBRyxJQUFJLEdBQUcsQ0FBQztBQUMzRTtBQUdBLElBQU0sYUFBYTtBQUFBLEVBQ2pCO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQ0Y7QUFFQSxJQUFNLFNBQTRDO0FBQUEsRUFDaEQsS0FBSyxFQUFFLFNBQVMsTUFBTTtBQUFBLEVBQ3RCLE9BQU8sRUFBRSxTQUFTLEtBQUs7QUFBQSxFQUN2QixLQUFLLEVBQUUsU0FBUyxPQUFPLE9BQU8saUJBQWlCO0FBQUEsRUFDL0MsT0FBTyxFQUFFLFNBQVMsT0FBTyxPQUFPLGdCQUFnQjtBQUNsRDtBQUdPLFNBQVMsV0FDZCxLQUNBLFFBQ0EsS0FDQUMsYUFDQSxJQUNTO0FBQ1QsUUFBTSxhQUFhLENBQUMsUUFBUSxJQUFJLFVBQVUsRUFDdkMsUUFBUSxDQUFDLFNBQVUsTUFBTSxRQUFRLElBQUksSUFBSyxPQUEyQixDQUFDLENBQUUsRUFDeEUsSUFBSSxDQUFDLFFBQVFBLFlBQVcsT0FBTyxLQUFLLEVBQUUsQ0FBQyxFQUN2QyxPQUFPLEtBQUs7QUFDZixRQUFNLFdBQVcsSUFBSSxhQUFhLFNBQVksSUFBSSxXQUFXLE1BQU0sSUFBSSxRQUFRO0FBQy9FLFFBQU0sV0FBVyxJQUFJLGFBQWEsU0FBWSxJQUFJLFdBQVcsTUFBTSxJQUFJLFFBQVE7QUFDL0UsUUFBTSxPQUFPLFdBQVcsS0FBSyxDQUFDLFFBQVEsSUFBSSxPQUFPLE1BQU07QUFDdkQsUUFBTSxTQUFTLFdBQVcsT0FBTyxDQUFDLFFBQVEsSUFBSSxPQUFPLFVBQVU7QUFDL0QsUUFBTSxjQUFjLE9BQU8sT0FBTyxNQUFNLFFBQVEsSUFBSSxPQUFPLFNBQVMsSUFBSSxPQUFPLFFBQVEsUUFBUSxJQUFJO0FBQ25HLFNBQU87QUFBQSxJQUNMLEdBQUc7QUFBQSxJQUNILFlBQVksV0FBVyxPQUFPLENBQUMsUUFBUSxJQUFJLE9BQU8sVUFBVSxJQUFJLE9BQU8sVUFBVSxFQUFFLElBQUksVUFBVTtBQUFBLElBQ2pHLEdBQUksZUFBZSxFQUFFLFlBQVk7QUFBQSxJQUNqQyxXQUFXLE1BQU0sSUFBSSxTQUFTLElBQzFCLE9BQU87QUFBQSxNQUNMLE9BQU8sUUFBUSxJQUFJLFNBQVMsRUFBRSxJQUFJLENBQUMsQ0FBQyxRQUFRLE1BQU0sTUFBTTtBQUFBLFFBQ3REO0FBQUEsUUFDQSxRQUFRQSxZQUFXLE9BQU8sUUFBUSxFQUFFLEdBQUcsUUFBUTtBQUFBLE1BQ2pELENBQUM7QUFBQSxJQUNILElBQ0MsSUFBSSxhQUFhLENBQUM7QUFBQSxFQUN6QjtBQUNGO0FBRUEsU0FBUyxXQUFXLE9BQXlCO0FBQzNDLFFBQU0sU0FBUyxTQUFTLEtBQUs7QUFDN0IsUUFBTSxRQUFRLE9BQU8sT0FBTyxNQUFNLG9CQUFvQixLQUFLLENBQUMsS0FBSyxDQUFDO0FBQ2xFLFNBQU87QUFBQSxJQUNMLE1BQU0sTUFBTSxRQUFRO0FBQUEsSUFDcEIsSUFBSSxNQUFNLE1BQU07QUFBQSxJQUNoQixVQUFVLE1BQU0sWUFBWTtBQUFBLElBQzVCLEdBQUksTUFBTSxnQkFBZ0IsVUFBYSxFQUFFLGFBQWEsTUFBTSxZQUFZO0FBQUEsSUFDeEUsR0FBSSxNQUFNLFdBQVcsTUFBTSxVQUFhLEVBQUUsU0FBUyxNQUFNLFdBQVcsRUFBRTtBQUFBLElBQ3RFO0FBQUEsSUFDQSxHQUFJLE9BQU8sU0FBUyxXQUFXO0FBQUEsRUFDakM7QUFDRjtBQUVBLFNBQVMsU0FBUyxPQUF5QjtBQUN6QyxTQUFPLE9BQU8sWUFBWSxXQUFXLFFBQVEsQ0FBQyxRQUFTLE1BQU0sR0FBRyxNQUFNLFNBQVksQ0FBQyxJQUFJLENBQUMsQ0FBQyxLQUFLLE1BQU0sR0FBRyxDQUFTLENBQUMsQ0FBRSxDQUFDO0FBQ3RIO0FBRUEsU0FBUyxPQUFPLE1BQWUsVUFBc0M7QUFDbkUsUUFBTSxRQUFRLFNBQVMsU0FBUyxJQUFJLFdBQVcsQ0FBQyxrQkFBa0I7QUFDbEUsUUFBTSxVQUFVLEVBQUUsUUFBUSxLQUFLLFVBQVUsQ0FBQyxFQUFFO0FBQzVDLFNBQU87QUFBQSxJQUNMLFVBQVUsS0FBSyxhQUFhO0FBQUEsSUFDNUIsR0FBSSxLQUFLLGdCQUFnQixVQUFhLEVBQUUsYUFBYSxLQUFLLFlBQVk7QUFBQSxJQUN0RSxTQUFTLE9BQU8sWUFBWSxNQUFNLElBQUksQ0FBQyxTQUFTLENBQUMsTUFBTSxPQUFPLENBQUMsQ0FBQztBQUFBLEVBQ2xFO0FBQ0Y7QUFFQSxTQUFTLE9BQU8sUUFBNEIsVUFBc0M7QUFDaEYsUUFBTSxPQUFPLE9BQU8sS0FBSyxDQUFDLFFBQVEsSUFBSSxTQUFTLE1BQU07QUFDckQsUUFBTSxRQUFRLE9BQU8sd0JBQXdCO0FBQzdDLFFBQU0sT0FBTyxTQUFTLEtBQUssQ0FBQyxRQUFRLE9BQU8sS0FBSyxHQUFHLENBQUMsS0FBSztBQUN6RCxRQUFNLGFBQWEsT0FBTztBQUFBLElBQ3hCLE9BQU8sSUFBSSxDQUFDLFFBQVE7QUFDbEIsWUFBTSxTQUFTLElBQUksU0FBUyxTQUFTLEVBQUUsTUFBTSxVQUFVLFFBQVEsU0FBUyxJQUFJLFNBQVMsR0FBRztBQUN4RixhQUFPLENBQUMsT0FBTyxJQUFJLElBQUksR0FBRyxFQUFFLEdBQUcsUUFBUSxHQUFJLElBQUksZ0JBQWdCLFVBQWEsRUFBRSxhQUFhLElBQUksWUFBWSxFQUFHLENBQUM7QUFBQSxJQUNqSCxDQUFDO0FBQUEsRUFDSDtBQUNBLFFBQU0sV0FBVyxPQUFPLE9BQU8sQ0FBQyxRQUFRLElBQUksYUFBYSxJQUFJLEVBQUUsSUFBSSxDQUFDLFFBQVEsT0FBTyxJQUFJLElBQUksQ0FBQztBQUM1RixTQUFPLEVBQUUsVUFBVSxTQUFTLFNBQVMsR0FBRyxTQUFTLEVBQUUsQ0FBQyxJQUFJLEdBQUcsRUFBRSxRQUFRLEVBQUUsTUFBTSxVQUFVLFlBQVksU0FBUyxFQUFFLEVBQUUsRUFBRTtBQUNwSDtBQUVBLFNBQVMsUUFBUSxRQUEwQixVQUFtQztBQUM1RSxNQUFJLENBQUMsTUFBTSxNQUFNLEVBQUcsUUFBTyxVQUFVO0FBQ3JDLFFBQU0sRUFBRSxRQUFRLFVBQVUsU0FBUyxHQUFHLEtBQUssSUFBSTtBQUMvQyxRQUFNLFVBQVUsQ0FBQyxTQUNmLE1BQU0sUUFBUSxLQUFLLFNBQVMsSUFBSSxNQUFNLFNBQVksRUFBRSxTQUFTLFNBQVMsSUFBSSxFQUFVLElBQUksQ0FBQztBQUMzRixRQUFNLFFBQVEsU0FBUyxTQUFTLElBQUksV0FBVyxDQUFDLGtCQUFrQjtBQUNsRSxTQUFPO0FBQUEsSUFDTCxHQUFHO0FBQUEsSUFDSCxHQUFJLFdBQVcsVUFBYTtBQUFBLE1BQzFCLFNBQVMsT0FBTyxZQUFZLE1BQU0sSUFBSSxDQUFDLFNBQVMsQ0FBQyxNQUFNLEVBQUUsUUFBUSxHQUFHLFFBQVEsSUFBSSxFQUFFLENBQUMsQ0FBQyxDQUFDO0FBQUEsSUFDdkY7QUFBQSxJQUNBLEdBQUksTUFBTSxPQUFPLEtBQUs7QUFBQSxNQUNwQixTQUFTLE9BQU87QUFBQSxRQUNkLE9BQU8sUUFBUSxPQUFPLEVBQUUsSUFBSSxDQUFDLENBQUMsTUFBTSxHQUFHLE1BQU07QUFBQSxVQUMzQztBQUFBLFVBQ0EsTUFBTSxHQUFHLElBQ0wsRUFBRSxHQUFJLElBQUksZ0JBQWdCLFVBQWEsRUFBRSxhQUFhLElBQUksWUFBWSxHQUFJLFFBQVEsU0FBUyxHQUFHLEVBQUUsSUFDaEc7QUFBQSxRQUNOLENBQUM7QUFBQSxNQUNIO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFDRjtBQUdPLFNBQVMsaUJBQWlCLE9BQWtDO0FBQ2pFLE1BQUksQ0FBQyxNQUFNLEtBQUssRUFBRyxRQUFPLENBQUM7QUFDM0IsU0FBTyxPQUFPO0FBQUEsSUFDWixPQUFPLFFBQVEsS0FBSyxFQUFFLElBQUksQ0FBQyxDQUFDLE1BQU0sTUFBTSxNQUFNO0FBQzVDLFVBQUksQ0FBQyxNQUFNLE1BQU0sRUFBRyxRQUFPLENBQUMsTUFBTSxNQUFNO0FBQ3hDLFVBQUksT0FBTyxTQUFTLFFBQVMsUUFBTyxDQUFDLE1BQU0sRUFBRSxNQUFNLFFBQVEsUUFBUSxRQUFRLENBQUM7QUFDNUUsYUFBTyxDQUFDLE1BQU0sT0FBTyxTQUFTLFdBQVcsRUFBRSxHQUFHLFFBQVEsT0FBTyxFQUFFLENBQUMsT0FBTyxPQUFPLElBQUksQ0FBQyxHQUFHLENBQUMsRUFBRSxFQUFFLElBQUksTUFBTTtBQUFBLElBQ3ZHLENBQUM7QUFBQSxFQUNIO0FBQ0Y7OztBQ3ZKQSxJQUFNLFVBQVUsQ0FBQyxPQUFPLE9BQU8sUUFBUSxVQUFVLFdBQVcsUUFBUSxTQUFTLE9BQU87QUFDcEYsSUFBTSxlQUFlO0FBR2QsU0FBUyxZQUFZLFdBQXNCLFFBQStCO0FBQy9FLFFBQU0sT0FBTyxVQUFVLEtBQUs7QUFDNUIsUUFBTSxVQUFVLFVBQVUsSUFBSTtBQUM5QixNQUFJLEtBQUssVUFBVSxVQUFhLENBQUMsTUFBTSxLQUFLLEtBQUssR0FBRztBQUNsRCxVQUFNLElBQUksUUFBUSx1QkFBdUI7QUFBQSxNQUN2QyxNQUFNO0FBQUEsTUFDTixPQUFPO0FBQUEsSUFDVCxDQUFDO0FBQUEsRUFDSDtBQUNBLFNBQU8sSUFBSSxRQUFRLE1BQU0sUUFBUSxTQUFTLFNBQVMsRUFBRSxjQUFjO0FBQ3JFO0FBRUEsU0FBUyxVQUFVLE1BQXVCO0FBQ3hDLFFBQU0sVUFBVSxPQUFPLEtBQUssV0FBVyxLQUFLLE9BQU87QUFDbkQsTUFBSSxtQkFBbUIsS0FBSyxPQUFPLEtBQUssS0FBSyxZQUFZLE9BQVcsUUFBTztBQUMzRSxNQUFJLGNBQWMsS0FBSyxPQUFPLEVBQUcsUUFBTztBQUN4QyxRQUFNLElBQUksUUFBUSx1QkFBdUI7QUFBQSxJQUN2QyxNQUFNLFdBQVcsT0FBTztBQUFBLElBQ3hCLFFBQVE7QUFBQSxJQUNSLE1BQU0sRUFBRSxRQUFRO0FBQUEsRUFDbEIsQ0FBQztBQUNIO0FBRUEsSUFBTSxVQUFOLE1BQWM7QUFBQSxFQVFaLFlBQ21CLE1BQ0EsUUFDQSxTQUNqQixFQUFFLE1BQU0sTUFBTSxHQUNkO0FBSmlCO0FBQ0E7QUFDQTtBQUdqQixVQUFNLEVBQUUsYUFBYSxTQUFTLElBQUksbUJBQW1CLEVBQUUsTUFBTSxNQUFNLENBQUM7QUFDcEUsU0FBSyxjQUFjO0FBQ25CLFNBQUssV0FBVztBQUNoQixTQUFLLGFBQWEsV0FBVyxXQUFXO0FBQ3hDLFNBQUssV0FBVyxZQUFZLFFBQVEsV0FBVyxJQUFJLElBQUk7QUFDdkQsVUFBTSxVQUFVLFdBQVcsS0FBSyxLQUFLLEdBQUcsSUFBSSxJQUFJLElBQUksS0FBSyxHQUFHLEVBQUUsU0FBUztBQUN2RSxTQUFLLFVBQVUsS0FBSyxXQUFXLFFBQVEsTUFBTSxPQUFPLElBQUksS0FBSztBQUFBLEVBQy9EO0FBQUEsRUFabUI7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBVkY7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0EsTUFBTSxvQkFBSSxJQUFZO0FBQUEsRUFDdEI7QUFBQSxFQUNBO0FBQUEsRUFpQmpCLGdCQUErQjtBQUM3QixVQUFNLEVBQUUsS0FBSyxJQUFJO0FBQ2pCLFVBQU0sT0FBTyxNQUFNLEtBQUssSUFBSSxJQUFJLEtBQUssT0FBTyxDQUFDO0FBQzdDLFVBQU0sUUFBUSxvQkFBSSxJQUFvQjtBQUN0QyxlQUFXLENBQUMsTUFBTSxFQUFFLEtBQUssT0FBTyxDQUFDLEtBQUssYUFBYSxJQUFJLEdBQUc7QUFDeEQsWUFBTSxJQUFJLE1BQU0sR0FBRztBQUNuQixXQUFLLFlBQVksSUFBSSxLQUFLLE1BQWU7QUFBQSxJQUMzQztBQUNBLFVBQU0sYUFBYSxNQUFNLEtBQUssVUFBVSxJQUFJLEtBQUssYUFBYSxDQUFDO0FBQy9ELFVBQU0sVUFBVSxLQUFLLFdBQVcsaUJBQWlCLEtBQUssbUJBQW1CLElBQUksV0FBVztBQUN4RixlQUFXLENBQUMsTUFBTSxNQUFNLEtBQUssT0FBTyxRQUFRLE1BQU0sT0FBTyxJQUFJLFVBQVUsQ0FBQyxDQUFDO0FBQ3ZFLFdBQUssWUFBWSxJQUFJLGdDQUFnQyxJQUFJLElBQUksTUFBZTtBQUM5RSxVQUFNLGFBQWEsT0FBTyxRQUFRLE1BQU0sS0FBSyxLQUFLLElBQUksS0FBSyxRQUFRLENBQUMsQ0FBQyxFQUFFO0FBQUEsTUFBUSxDQUFDLENBQUMsTUFBTSxJQUFJLE1BQ3pGLEtBQUssV0FBVyxJQUFJLElBQUksQ0FBQyxJQUFJLEtBQUssU0FBUyxNQUFNLElBQUk7QUFBQSxJQUN2RDtBQUNBLFFBQUksV0FBVyxXQUFXLEVBQUcsTUFBSyxXQUFXLEtBQUssVUFBVSxxQ0FBcUM7QUFDakcsV0FBTztBQUFBLE1BQ0wsUUFBUTtBQUFBLE1BQ1IsU0FBUyxLQUFLO0FBQUEsTUFDZCxPQUFPLE9BQU8sS0FBSyxVQUFVLFdBQVcsS0FBSyxRQUFRLEtBQUs7QUFBQSxNQUMxRCxTQUFTLFVBQVUsS0FBSyxPQUFPO0FBQUEsTUFDL0I7QUFBQSxNQUNBLGFBQWEsS0FBSztBQUFBLE1BQ2xCO0FBQUEsTUFDQSxVQUFVLGFBQWEsSUFBSTtBQUFBLE1BQzNCLFVBQVUsT0FBTyxDQUFDLEdBQUcsS0FBSyxVQUFVLEdBQUcsS0FBSyxXQUFXLFFBQVEsQ0FBQyxFQUFFLE1BQU0sR0FBRyxZQUFZO0FBQUEsSUFDekY7QUFBQSxFQUNGO0FBQUEsRUFFUSxTQUFTLE1BQWMsT0FBK0I7QUFDNUQsVUFBTSxLQUFLLFFBQVEsU0FBUyxJQUFJO0FBQ2hDLFVBQU0sT0FBTyxLQUFLLFdBQVcsT0FBTyxPQUFPLEVBQUU7QUFDN0MsUUFBSSxDQUFDLE1BQU0sSUFBSSxHQUFHO0FBQ2hCLFdBQUssV0FBVyxLQUFLLElBQUksa0NBQWtDO0FBQzNELGFBQU8sQ0FBQztBQUFBLElBQ1Y7QUFDQSxXQUFPLFFBQVEsUUFBUSxDQUFDLFdBQVc7QUFDakMsVUFBSSxLQUFLLE1BQU0sTUFBTSxPQUFXLFFBQU8sQ0FBQztBQUN4QyxZQUFNLFFBQVEsTUFBTSxJQUFJLE1BQU07QUFDOUIsWUFBTSxZQUFZLEtBQUssTUFBTTtBQUM3QixVQUFJLENBQUMsTUFBTSxTQUFTLEdBQUc7QUFDckIsYUFBSyxXQUFXLEtBQUssT0FBTyw0QkFBNEI7QUFDeEQsZUFBTyxDQUFDO0FBQUEsTUFDVjtBQUNBLFlBQU0sUUFBUSxLQUFLLFVBQVUsUUFBUSxNQUFNLFdBQVcsTUFBTSxLQUFLO0FBQ2pFLG1CQUFhLE9BQU8sS0FBSyxVQUFVO0FBQ25DLGFBQU8sQ0FBQyxLQUFLO0FBQUEsSUFDZixDQUFDO0FBQUEsRUFDSDtBQUFBLEVBRVEsVUFBVSxRQUFnQixNQUFjLEtBQWMsTUFBZSxJQUE0QjtBQUN2RyxVQUFNLEVBQUUsVUFBVSxLQUFLLElBQUk7QUFDM0IsVUFBTSxDQUFDLE1BQU0sSUFBSSxVQUFVLElBQUksV0FBVyxLQUFLLFdBQVcsS0FBSyxPQUFPO0FBQ3RFLFVBQU0sT0FBTyxNQUFNLFFBQVEsSUFBSSxJQUFJLElBQUksSUFBSSxLQUFLLE9BQU8sQ0FBQyxRQUFRLE9BQU8sUUFBUSxRQUFRLElBQUksQ0FBQztBQUM1RixVQUFNLFdBQVcsSUFBSSxZQUFZLEtBQUs7QUFDdEMsVUFBTSxPQUFxQjtBQUFBLE1BQ3pCO0FBQUEsTUFDQSxXQUFXLFdBQVcsV0FBVyxLQUFLLEtBQUssWUFBWSxVQUFVLEtBQUssWUFBWSxFQUFFLElBQUk7QUFBQSxNQUN4RixHQUFJLGFBQWEsVUFBYSxLQUFLLGVBQWUsVUFBYSxFQUFFLFFBQVEsS0FBSyxXQUFXO0FBQUEsTUFDekYsR0FBSSxhQUFhLFVBQWEsRUFBRSxTQUFTO0FBQUEsSUFDM0M7QUFDQSxVQUFNLFFBQVEsZ0JBQWdCLElBQUksV0FBVyxLQUFLLFlBQVksRUFBRTtBQUNoRSxXQUFPO0FBQUEsTUFDTCxJQUFJLEtBQUssR0FBRyxJQUFJLGFBQWEsUUFBUSxNQUFNLEVBQUU7QUFBQSxNQUM3QyxPQUNFLEtBQUssQ0FBQyxLQUNOLEtBQUssTUFBTSxHQUFHLEVBQUUsS0FBSyxDQUFDLFNBQVMsU0FBUyxNQUFNLENBQUMsS0FBSyxXQUFXLEdBQUcsS0FBSyxDQUFDLE9BQU8sS0FBSyxJQUFJLENBQUMsS0FDekY7QUFBQSxNQUNGLEdBQUksT0FBTyxJQUFJLFlBQVksWUFBWSxFQUFFLFNBQVMsSUFBSSxRQUFRO0FBQUEsTUFDOUQsUUFBUSxPQUFPLFlBQVk7QUFBQSxNQUMzQixNQUFNLFNBQVMsUUFBUSxHQUFHLElBQUk7QUFBQSxNQUM5QixHQUFJLElBQUksZUFBZSxRQUFRLEVBQUUsWUFBWSxLQUFLO0FBQUEsTUFDbEQsR0FBSSxNQUFNLFNBQVMsS0FBSyxFQUFFLE1BQU07QUFBQSxNQUNoQyxLQUFLO0FBQUEsSUFDUDtBQUFBLEVBQ0Y7QUFBQSxFQUVRLEdBQUcsT0FBeUIsUUFBZ0IsTUFBYyxJQUFvQjtBQUNwRixRQUFJLEtBQUssT0FBTyxVQUFVLFlBQVksTUFBTSxLQUFLLE1BQU0sS0FBSyxNQUFNLEtBQUssRUFBRSxRQUFRLFdBQVcsR0FBRyxJQUFJO0FBQ25HLFFBQUksT0FBTyxJQUFJO0FBQ2IsV0FBSyxHQUFHLE1BQU0sR0FBRyxJQUFJLEdBQ2xCLFFBQVEsU0FBUyxFQUFFLEVBQ25CLFFBQVEsa0JBQWtCLEdBQUcsRUFDN0IsUUFBUSxNQUFNLEVBQUU7QUFDbkIsVUFBSSxVQUFVLE9BQVcsTUFBSyxXQUFXLEtBQUssSUFBSSwyQkFBMkI7QUFBQSxJQUMvRTtBQUNBLFFBQUksU0FBUztBQUNiLGFBQVMsUUFBUSxHQUFHLEtBQUssSUFBSSxJQUFJLE1BQU0sR0FBRyxTQUFTLEVBQUcsVUFBUyxHQUFHLEVBQUUsSUFBSSxLQUFLO0FBQzdFLFFBQUksV0FBVyxHQUFJLE1BQUssV0FBVyxLQUFLLElBQUksbUJBQW1CLEVBQUUscUNBQXFDLE1BQU0sRUFBRTtBQUM5RyxTQUFLLElBQUksSUFBSSxNQUFNO0FBQ25CLFdBQU87QUFBQSxFQUNUO0FBQ0Y7QUFFQSxTQUFTLGFBQWEsTUFBeUI7QUFDN0MsUUFBTSxRQUFRLE1BQU0sS0FBSyxRQUFRLElBQUksS0FBSyxXQUFXLE1BQU0sS0FBSyxZQUFZLENBQUMsSUFBSSxLQUFLLFlBQVksSUFBSSxDQUFDO0FBQ3ZHLFNBQU8sT0FBTyxRQUFRLEtBQUssRUFBRTtBQUFBLElBQVEsQ0FBQyxDQUFDLE1BQU0sSUFBSSxNQUMvQyxNQUFNLElBQUksSUFDTixRQUFRLE9BQU8sQ0FBQyxXQUFXLEtBQUssTUFBTSxNQUFNLE1BQVMsRUFBRSxJQUFJLENBQUMsV0FBVyxHQUFHLE9BQU8sWUFBWSxDQUFDLElBQUksSUFBSSxFQUFFLElBQ3hHLENBQUM7QUFBQSxFQUNQO0FBQ0Y7QUFHQSxTQUFTLFVBQVUsT0FBbUM7QUFDcEQsTUFBSSxDQUFDLE1BQU0sUUFBUSxLQUFLLEVBQUcsUUFBTyxDQUFDO0FBQ25DLFNBQU8sTUFBTSxPQUFPLEtBQUssRUFBRSxRQUFRLENBQUMsRUFBRSxLQUFLLFdBQVcsWUFBWSxNQUFNO0FBQ3RFLFFBQUksT0FBTyxRQUFRLFNBQVUsUUFBTyxDQUFDO0FBQ3JDLFVBQU0sTUFBTSxPQUFPLFFBQVEsTUFBTSxTQUFTLElBQUksWUFBWSxDQUFDLENBQUMsRUFBRTtBQUFBLE1BQU8sQ0FBQyxVQUNwRSxNQUFNLE1BQU0sQ0FBQyxDQUFDO0FBQUEsSUFDaEI7QUFDQSxXQUFPO0FBQUEsTUFDTDtBQUFBLFFBQ0UsS0FBSyxJQUFJLFFBQVEsZ0JBQWdCLENBQUMsT0FBTyxTQUFpQjtBQUN4RCxnQkFBTSxXQUFXLElBQUksS0FBSyxDQUFDLENBQUMsR0FBRyxNQUFNLFFBQVEsSUFBSSxJQUFJLENBQUM7QUFDdEQsaUJBQU8sVUFBVSxZQUFZLFNBQVksUUFBUSxPQUFPLFNBQVMsT0FBTztBQUFBLFFBQzFFLENBQUM7QUFBQSxRQUNELEdBQUksSUFBSSxTQUFTLEtBQUssRUFBRSxVQUFVLElBQUk7QUFBQSxRQUN0QyxHQUFJLE9BQU8sZ0JBQWdCLFlBQVksRUFBRSxZQUFZO0FBQUEsUUFDckQsV0FBVyxJQUFJLElBQUksQ0FBQyxDQUFDLE1BQU0sR0FBRyxPQUFPO0FBQUEsVUFDbkM7QUFBQSxVQUNBLFNBQVMsT0FBTyxJQUFJLFdBQVcsRUFBRTtBQUFBLFVBQ2pDLFNBQVMsTUFBTSxRQUFRLElBQUksSUFBSSxJQUFJLElBQUksS0FBSyxJQUFJLE1BQU0sSUFBSSxDQUFDO0FBQUEsUUFDN0QsRUFBRTtBQUFBLE1BQ0o7QUFBQSxJQUNGO0FBQUEsRUFDRixDQUFDO0FBQ0g7QUFHQSxTQUFTLFNBQVMsUUFBb0M7QUFDcEQsTUFBSSxXQUFXLE9BQVcsUUFBTztBQUNqQyxTQUFPLE9BQU8sUUFBUSxpQ0FBaUMsRUFBRSxFQUFFLFFBQVEsUUFBUSxFQUFFO0FBQy9FO0FBRUEsU0FBUyxPQUFPLFVBQXlDO0FBQ3ZELFNBQU8sQ0FBQyxHQUFHLElBQUksSUFBSSxTQUFTLElBQUksQ0FBQyxZQUFZLENBQUMsR0FBRyxRQUFRLEVBQUUsSUFBSSxRQUFRLElBQUksSUFBSSxPQUFPLENBQUMsQ0FBQyxFQUFFLE9BQU8sQ0FBQztBQUNwRzsiLAogICJuYW1lcyI6IFsicmVmZXJlbmNlcyIsICJyZWZlcmVuY2VzIl0KfQo=
