import {
  compileKeeps,
  linesOf
} from "./chunk-33U4T2M5.js";
import {
  safeMethods
} from "./chunk-GHHZ6UXC.js";
import {
  checkHeader
} from "./chunk-3HNS4OKH.js";
import {
  planInputs
} from "./chunk-3GYCCOMC.js";
import {
  compileAddress
} from "./chunk-BNANEU6A.js";
import {
  compileExpectations,
  retryPolicy
} from "./chunk-KDZI5FEM.js";
import {
  readPlace
} from "./chunk-V2NIP2IX.js";
import {
  hidden
} from "./chunk-KTFSZ6KS.js";
import {
  parseDuration,
  sizeText
} from "./chunk-IQWA53IU.js";
import {
  compileTree,
  replacedAt
} from "./chunk-6FF7OQVK.js";
import {
  compileTemplate
} from "./chunk-7JVJJYGZ.js";
import {
  pathInside
} from "./chunk-QF6HTAQS.js";
import {
  omitted
} from "./chunk-ELCQYB6S.js";
import {
  textOf
} from "./chunk-ZC7SUIQQ.js";
import {
  Problem,
  asProblem
} from "./chunk-FSPVDUAZ.js";
import {
  writeJson
} from "./chunk-RABAPZK5.js";
import {
  isValueMap,
  plain
} from "./chunk-XGDOGID3.js";
import {
  graphqlDocument,
  operationKind
} from "./chunk-QHCJ4YYR.js";

// src/core/exchange/request-plan.ts
import { readFileSync } from "node:fs";

// src/core/exchange/body/file.ts
import { createReadStream, statSync } from "node:fs";

// src/core/exchange/body/file-pieces.ts
import { closeSync, openSync, readSync } from "node:fs";
var size = 1 << 18;
function* filePieces(path) {
  const file2 = openSync(path, "r");
  try {
    const buffer = Buffer.allocUnsafe(size);
    for (let read = readSync(file2, buffer); read > 0; read = readSync(file2, buffer)) yield buffer.subarray(0, read);
  } finally {
    closeSync(file2);
  }
}

// src/core/exchange/body/media-type.ts
import { mimes } from "mrmime";
function mediaTypeOf(path) {
  const ending = /\.([A-Za-z0-9]+)$/.exec(path)?.[1]?.toLowerCase() ?? "";
  if (ending === "xml") return "application/xml";
  const type = Object.hasOwn(mimes, ending) ? mimes[ending] : void 0;
  return type ?? "application/octet-stream";
}

// src/core/exchange/body/file.ts
var nothing = new Uint8Array();
var file = {
  name: "file",
  about: "the bytes of a file in the collection, streamed from the disk",
  compile(spec, { where, loads }) {
    const template2 = compileTemplate(spec, where([]), loads);
    return (evaluation) => {
      const value = template2.evaluate(evaluation);
      if (value === omitted) return void 0;
      const named = textOf(value);
      if (named === "") throw new Problem("body-shape", { what: "the file of the body has no name", where: where([]) });
      const path = evaluation.world.path(named);
      const { size: size2 } = statSync(path);
      return {
        bytes: nothing,
        streamed: { size: size2, open: () => createReadStream(path), pieces: () => filePieces(path) },
        type: mediaTypeOf(named),
        shown: `(${sizeText(size2)} of ${named})`,
        secret: false
      };
    };
  }
};

// src/core/exchange/body/form.ts
var form = {
  name: "form",
  about: "fields, sent URL-encoded; a list repeats its field, a map is written with brackets",
  compile(spec, { where, loads }) {
    const tree = compileTree(spec, where, loads);
    return (evaluation) => {
      const trace = { path: [], secret: [] };
      const value = tree.evaluate(evaluation, trace);
      if (value === omitted) return void 0;
      const sent = encoded(value);
      const secret = trace.secret.length > 0;
      const shown = secret ? decodeURIComponent(encoded(replacedAt(value, trace.secret, hidden)).replaceAll("+", " ")) : sent;
      return { bytes: Buffer.from(sent, "utf8"), type: "application/x-www-form-urlencoded", shown, secret };
    };
  }
};
function encoded(fields) {
  if (!isValueMap(fields)) throw new Problem("body-shape", { what: "a form is a map of fields" });
  const pairs = new URLSearchParams();
  const add = (name, value) => {
    if (Array.isArray(value)) {
      for (const [index, item] of value.entries())
        add(isValueMap(item) || Array.isArray(item) ? `${name}[${index}]` : name, item);
    } else if (isValueMap(value)) for (const [key, inner] of Object.entries(value)) add(`${name}[${key}]`, inner);
    else if (plain(value) === null || value instanceof Uint8Array) {
      throw new Problem("body-shape", {
        what: `the form field ${name} is ${plain(value) === null ? "null" : "bytes"}`,
        remedy: "a form holds text; leave a field out with ${omit}, or write bytes as text with | base64"
      });
    } else pairs.append(name, textOf(value));
  };
  for (const [name, value] of Object.entries(fields)) add(name, value);
  return pairs.toString();
}

// src/core/exchange/body/graphql.ts
import { basename as basename2 } from "node:path";

// src/core/exchange/body/parts.ts
import { randomBytes } from "node:crypto";
import { createReadStream as createReadStream2, statSync as statSync2 } from "node:fs";
import { basename } from "node:path";
import { Readable } from "node:stream";

// src/core/exchange/body/xml.ts
var xml = {
  name: "xml",
  about: "XML text; the values in it are escaped",
  compile(spec, setting) {
    const text2 = compileXml(spec, setting);
    return (evaluation) => ({ ...text2(evaluation), type: "application/xml; charset=utf-8" });
  }
};
var gap = "\uFFFF";
function compileXml(spec, { where, loads }) {
  const template2 = compileTemplate(spec, where([]), loads, { asText: inserted, omitted: gap });
  return (evaluation) => {
    const [value, secret] = evaluation.traced(() => template2.evaluate(evaluation));
    const sent = value === omitted ? gap : withoutGaps(textOf(value));
    if (sent.includes(gap)) {
      throw new Problem("body-shape", {
        what: "a value that is omitted stands in no element that could be left out",
        where: where([]),
        remedy: "the element that is to vanish holds nothing but text and the value: <remarks>${remarks ?? omit}</remarks>"
      });
    }
    return { bytes: Buffer.from(sent, "utf8"), shown: secret ? hidden : sent, secret };
  };
}
function inserted(text2, before, expression) {
  if (/<\/?(?:[\p{L}_][\p{L}\p{N}._-]*:)?$/u.test(before)) {
    if (/^[\p{L}_][\p{L}\p{N}._-]*$/u.test(text2)) return text2;
    throw new Problem("body-shape", {
      what: `${JSON.stringify(text2)} cannot be the name of an element`,
      remedy: "a name begins with a letter, and holds letters, digits, dots and dashes (XML 1.0, section 2.3)"
    });
  }
  return /\brender(?:-each)?\s*\(/.test(expression) ? text2 : escaped(text2);
}
function withoutGaps(text2) {
  if (!text2.includes(gap)) return text2;
  const attribute = new RegExp(`\\s+[^\\s=<>"']+\\s*=\\s*(?:"[^"<]*${gap}[^"<]*"|'[^'<]*${gap}[^'<]*')`, "g");
  const element = new RegExp(`(\\n[ \\t]*)?<([^\\s<>/!?]+)(?:\\s[^<>]*)?>[^<>${gap}]*${gap}[^<>]*</\\2\\s*>`, "g");
  return text2.replace(attribute, "").replace(element, "");
}
function escaped(text2) {
  return text2.replaceAll("&", "&amp;").replaceAll("<", "&lt;").replaceAll(">", "&gt;").replaceAll('"', "&quot;").replaceAll("'", "&apos;").replaceAll("\r", "&#13;");
}

// src/core/exchange/body/template.ts
var template = {
  name: "template",
  about: "a file in bodies/, with values put in",
  compile: compileTemplateFile
};
function compileTemplateFile(spec, setting) {
  const { where, read } = setting;
  if (typeof spec !== "string" || spec.includes("${")) {
    throw new Problem("body-shape", {
      what: "a template is the path of a file in the collection, such as bodies/manifest.xml",
      where: where([])
    });
  }
  let text2;
  try {
    text2 = read(spec).replace(/^\uFEFF/, "");
  } catch (error) {
    throw error instanceof Problem ? error.at(where([])) : error;
  }
  return compileTemplateText(text2, spec, setting.loads);
}
function compileTemplateText(text2, file2, loads) {
  const type = mediaTypeOf(file2);
  const place = () => ({ file: file2 });
  if (/[/+]json$/.test(type)) {
    const tree = compileTree(jsonIn(text2, file2), place, loads);
    return (evaluation) => {
      const [value, secret] = evaluation.traced(() => tree.evaluate(evaluation));
      return value === omitted ? void 0 : body(writeJson(value), type, secret);
    };
  }
  if (/[/+]xml$/.test(type)) {
    const xml2 = compileXml(text2, { where: place, loads });
    return (evaluation) => ({ ...xml2(evaluation), type: `${type}; charset=utf-8` });
  }
  const plain2 = compileTemplate(text2, place(), loads);
  return (evaluation) => {
    const [value, secret] = evaluation.traced(() => plain2.evaluate(evaluation));
    return value === omitted ? void 0 : body(textOf(value), type, secret);
  };
}
var body = (text2, type, secret) => ({
  bytes: Buffer.from(text2, "utf8"),
  type,
  shown: secret ? hidden : text2,
  secret
});
function jsonIn(text2, file2) {
  try {
    return JSON.parse(text2);
  } catch (error) {
    throw new Problem("body-shape", {
      what: `${file2} is not JSON`,
      where: { file: file2 },
      cause: error.message,
      remedy: 'an expression stands inside quotes: "${nights}" keeps the type of its value'
    });
  }
}

// src/core/exchange/body/parts.ts
var parts = {
  name: "parts",
  about: "multipart/form-data: texts, values, templates and files",
  compile(spec, setting) {
    if (!isValueMap(spec))
      throw new Problem("body-shape", { what: "parts is a map of names and contents", where: setting.where([]) });
    const plans = Object.entries(spec).map(([name, value]) => planPart(name, value, setting));
    return (evaluation) => {
      const [body2, secret] = evaluation.traced(() => multipart(plans.flatMap((plan) => plan(evaluation))));
      return { ...body2, secret };
    };
  }
};
var kinds = ["text", "file", "template", "json"];
function planPart(name, given, setting) {
  if (Array.isArray(given)) {
    const each = given.map(
      (one, index) => planPart(name, one, { ...setting, where: (path) => setting.where([name, index, ...path.slice(1)]) })
    );
    return (evaluation) => each.flatMap((plan) => plan(evaluation));
  }
  const { where, loads } = setting;
  if (!isValueMap(given)) {
    const tree = compileTree(given, () => where([name]), loads);
    return (evaluation) => {
      const value = tree.evaluate(evaluation);
      if (value === omitted) return [];
      return (Array.isArray(value) ? value : [value]).map(
        (one) => field(name, one, evaluation.touchedSecret)
      );
    };
  }
  const kind = kinds.find((one) => Object.hasOwn(given, one));
  const unknown = Object.keys(given).find((key) => key !== kind && key !== "type" && key !== "name");
  if (kind === void 0 || unknown !== void 0) {
    throw new Problem("body-shape", {
      what: kind === void 0 ? `the part ${name} has no content` : `the part ${name} has a key ${unknown}`,
      where: where([name, ...unknown === void 0 ? [] : [unknown]]),
      remedy: `one of ${kinds.join(", ")}, and if wanted type and name`
    });
  }
  const optional = (key) => {
    if (given[key] === void 0) return () => void 0;
    const template2 = compileTemplate(given[key], where([name, key]), loads);
    return (evaluation) => {
      const value = template2.evaluate(evaluation);
      return value === omitted ? void 0 : textOf(value);
    };
  };
  const content = contentPlan(kind, given[kind], name, setting);
  const [type, fileName] = [optional("type"), optional("name")];
  return (evaluation) => {
    const made = content(evaluation);
    if (!made) return [];
    return [{ ...made, name, type: type(evaluation) ?? made.type, fileName: fileName(evaluation) ?? made.fileName }];
  };
}
function contentPlan(kind, spec, name, setting) {
  const { where, loads } = setting;
  if (kind === "template") {
    const template2 = compileTemplateFile(spec, { ...setting, where: () => where([name, kind]) });
    return (evaluation) => {
      const made = template2(evaluation);
      return made && {
        name,
        fileName: void 0,
        type: made.type,
        content: { bytes: Buffer.from(made.bytes), shown: made.shown }
      };
    };
  }
  const tree = compileTree(spec, (path) => where([name, kind, ...path]), loads);
  return (evaluation) => {
    const [value, secret] = evaluation.traced(() => tree.evaluate(evaluation));
    if (value === omitted) return void 0;
    if (kind === "text") return field(name, value, secret);
    if (kind === "json") {
      const text2 = writeJson(value);
      return {
        name,
        fileName: void 0,
        type: "application/json",
        content: { bytes: Buffer.from(text2), shown: secret ? hidden : text2 }
      };
    }
    const named = textOf(value);
    return {
      name,
      fileName: basename(named),
      type: mediaTypeOf(named),
      content: { path: evaluation.world.path(named), named }
    };
  };
}
function field(name, value, secret) {
  if (plain(value) === null || isValueMap(value)) {
    throw new Problem("body-shape", {
      what: `the part ${name} is ${plain(value) === null ? "null" : "a map"}`,
      remedy: "${omit} leaves it out; json: sends a structure"
    });
  }
  const text2 = textOf(value);
  return {
    name,
    fileName: void 0,
    type: void 0,
    content: { bytes: Buffer.from(text2), shown: secret ? hidden : text2 }
  };
}
function multipart(given) {
  const boundary = `part-${randomBytes(12).toString("hex")}`;
  const pieces = [];
  const shown = [];
  let size2 = 0;
  let streamed = false;
  const add = (text2) => {
    const bytes = Buffer.from(text2, "utf8");
    pieces.push(bytes);
    size2 += bytes.length;
    shown.push(text2);
  };
  for (const { name, fileName, type, content } of given) {
    const file2 = fileName === void 0 ? "" : `; filename="${quotedName(fileName)}"`;
    add(`--${boundary}\r
Content-Disposition: form-data; name="${quotedName(name)}"${file2}\r
`);
    add(type === void 0 ? "\r\n" : `Content-Type: ${type}\r
\r
`);
    if ("bytes" in content) {
      pieces.push(content.bytes);
      size2 += content.bytes.length;
      shown.push(content.shown);
    } else {
      const own = statSync2(content.path).size;
      pieces.push({ path: content.path });
      size2 += own;
      streamed = true;
      shown.push(`(${sizeText(own)} of ${content.named})`);
    }
    add("\r\n");
  }
  add(`--${boundary}--\r
`);
  const whole = streamed ? new Uint8Array() : Buffer.concat(pieces);
  return {
    bytes: whole,
    ...streamed && {
      streamed: {
        size: size2,
        open: () => Readable.from(bytesOf(pieces), { objectMode: false }),
        pieces: () => allPieces(pieces)
      }
    },
    type: `multipart/form-data; boundary=${boundary}`,
    shown: shown.join(""),
    secret: false
  };
}
async function* bytesOf(pieces) {
  for (const piece of pieces) {
    if ("path" in piece) yield* createReadStream2(piece.path);
    else yield piece;
  }
}
function* allPieces(pieces) {
  for (const piece of pieces) {
    if ("path" in piece) yield* filePieces(piece.path);
    else yield piece;
  }
}
var quotedName = (name) => name.replaceAll('"', "%22").replaceAll("\r", "%0D").replaceAll("\n", "%0A");

// src/core/exchange/body/graphql.ts
var graphql = {
  name: "graphql",
  about: "a GraphQL document with its variables; variables keep their types, and may be files",
  compile(spec, setting) {
    const { variables = {}, operation } = spec;
    const document = documentOf(spec.document, setting);
    const { where, loads, method } = setting;
    const tree = compileTree(variables, (path) => where(["variables", ...path]), loads);
    return (evaluation) => {
      const trace = { path: [], secret: [] };
      const value = tree.evaluate(evaluation, trace);
      const given = value === omitted ? {} : value;
      const call = { document, operation, variables: given, secret: trace.secret };
      const files = [];
      const sent = takeFiles(given, "variables", files, evaluation);
      if (method === "GET" && files.length > 0) {
        throw new Problem("body-shape", {
          what: "a variable is a file, and a GET carries none",
          where: where(["variables"]),
          remedy: "method: POST"
        });
      }
      if (method === "GET") return asParameters(call);
      return files.length > 0 ? asParts({ ...call, variables: sent }, files) : asJson(call);
    };
  }
};
function documentOf(given, { where, read }) {
  let document;
  try {
    document = graphqlDocument(given, read);
  } catch (error) {
    throw error instanceof Problem ? error.at(where(["document"])) : error;
  }
  if (document.includes("${")) {
    throw new Problem("body-shape", {
      what: "an expression stands in the document",
      where: where(["document"]),
      remedy: "declare a variable in the document ($name: Type) and give its value under variables:"
    });
  }
  return document;
}
var hasVariables = (variables) => isValueMap(variables) && Object.keys(variables).length > 0;
function operationsText({ document, operation }, variables) {
  return writeJson({
    query: document,
    ...hasVariables(variables) && { variables },
    ...operation !== void 0 && { operationName: operation }
  });
}
function asJson(call) {
  const text2 = operationsText(call, call.variables);
  const secret = call.secret.length > 0;
  const shown = secret ? operationsText(call, replacedAt(call.variables, call.secret, hidden)) : text2;
  return { bytes: Buffer.from(text2, "utf8"), type: "application/json", shown, secret };
}
function asParameters({ document, operation, variables, secret }) {
  const hide = secret.length > 0;
  return {
    bytes: new Uint8Array(),
    type: "",
    shown: "",
    secret: hide,
    asQuery: [
      { name: "query", value: document, secret: false },
      ...hasVariables(variables) ? [{ name: "variables", value: writeJson(variables), secret: hide }] : [],
      ...operation === void 0 ? [] : [{ name: "operationName", value: operation, secret: false }]
    ]
  };
}
function takeFiles(value, at, files, evaluation) {
  if (Array.isArray(value))
    return value.map((item, index) => takeFiles(item, `${at}.${index}`, files, evaluation));
  if (!isValueMap(value)) return value;
  const keys = Object.keys(value);
  if (keys.length === 1 && keys[0] === "upload") {
    const named = textOf(value.upload);
    files.push({ at, named, path: evaluation.world.path(named) });
    return null;
  }
  return Object.fromEntries(
    Object.entries(value).map(([key, inner]) => [key, takeFiles(inner, `${at}.${key}`, files, evaluation)])
  );
}
function asParts(call, files) {
  const text2 = operationsText(call, call.variables);
  const shown = call.secret.length > 0 ? operationsText(call, replacedAt(call.variables, call.secret, hidden)) : text2;
  const map = JSON.stringify(Object.fromEntries(files.map(({ at }, index) => [String(index + 1), [at]])));
  const field2 = (name, content, asShown) => ({
    name,
    fileName: void 0,
    type: void 0,
    content: { bytes: Buffer.from(content), shown: asShown }
  });
  return {
    ...multipart([
      field2("operations", text2, shown),
      field2("map", map, map),
      ...files.map(
        ({ named, path }, index) => ({
          name: String(index + 1),
          fileName: basename2(named),
          type: mediaTypeOf(named),
          content: { path, named }
        })
      )
    ]),
    secret: call.secret.length > 0
  };
}

// src/core/exchange/body/json.ts
var json = {
  name: "json",
  about: "any value, sent as JSON; numbers stay numbers and keep their digits",
  compile(spec, { where, loads }) {
    const tree = compileTree(spec, where, loads);
    return (evaluation) => {
      const trace = { path: [], secret: [] };
      const value = tree.evaluate(evaluation, trace);
      if (value === omitted) return void 0;
      const text2 = writeJson(value);
      const secret = trace.secret.length > 0;
      return {
        bytes: Buffer.from(text2, "utf8"),
        type: "application/json",
        shown: secret ? writeJson(replacedAt(value, trace.secret, hidden)) : text2,
        secret
      };
    };
  }
};

// src/core/exchange/body/soap.ts
var soap = {
  name: "soap",
  about: "a SOAP envelope; the action and the content type follow from the version",
  compile(spec, setting) {
    const { envelope, version = "1.1", action } = spec;
    const text2 = envelopeOf(envelope, setting);
    const quoted = `"${(action ?? "").replace(/^"|"$/g, "")}"`;
    if (version === "1.2") {
      const parameter = action === void 0 ? "" : `; action=${quoted}`;
      return (evaluation) => ({ ...text2(evaluation), type: `application/soap+xml; charset=utf-8${parameter}` });
    }
    const headers = [{ name: "SOAPAction", value: quoted }];
    return (evaluation) => ({ ...text2(evaluation), type: "text/xml; charset=utf-8", headers });
  }
};
function envelopeOf(envelope, setting) {
  const { where } = setting;
  const own = { ...setting, where: () => where(["envelope"]) };
  if (typeof envelope !== "string" || !/^[^\s<>$]+\.xml$/.test(envelope.trim())) return compileXml(envelope, own);
  const file2 = compileTemplateFile(envelope.trim(), own);
  return (evaluation) => file2(evaluation);
}

// src/core/exchange/body/text.ts
var text = {
  name: "text",
  about: "text as it stands, sent as UTF-8",
  compile(spec, { where, loads }) {
    const template2 = compileTemplate(spec, where([]), loads);
    return (evaluation) => {
      const [value, secret] = evaluation.traced(() => template2.evaluate(evaluation));
      if (value === omitted) return void 0;
      const sent = textOf(value);
      return {
        bytes: Buffer.from(sent, "utf8"),
        type: "text/plain; charset=utf-8",
        shown: secret ? hidden : sent,
        secret
      };
    };
  }
};

// src/core/exchange/body/registry.ts
var bodyKinds = new Map(
  [json, text, form, parts, xml, graphql, soap, file, template].map((kind) => [kind.name, kind])
);

// src/core/exchange/request-plan.ts
function planRequest(collection, loaded, loads) {
  const { content, yaml, name } = loaded;
  const layers = [
    ...collection.defaults(name).map((defaults) => ({ content: defaults.content, yaml: defaults.yaml, origin: defaults.yaml.file })),
    { content, yaml, origin: `request ${name}` }
  ];
  const nearest = (key) => layers.reduce((found, layer) => layer.content[key] ?? found, void 0);
  const method = (content.method ?? "GET").toUpperCase();
  const url = content.url;
  const where = (path) => yaml.position(path);
  const session = nearest("session") ?? "none";
  const signature = nearest("signature") ?? "none";
  const headers = mergedValues("headers", layers, loads, (key) => key.toLowerCase());
  const read = (path) => readFileSync(pathInside(collection.root, path), "utf8");
  return {
    name,
    content: {
      ...content,
      lists: nearest("lists"),
      redirects: nearest("redirects"),
      expect: Object.assign({}, ...layers.map((layer) => layer.content.expect ?? {})),
      namespaces: Object.assign({}, ...layers.map((layer) => layer.content.namespaces ?? {}))
    },
    yaml,
    method,
    inputs: planInputs(content.inputs, loaded, `request ${name}`, loads),
    sessions: session === "none" ? [] : [session].flat(),
    signature: signature === "none" ? void 0 : signature,
    address: compileAddress(url, where(["url"]), loads),
    path: new Map(
      Object.entries(content.path ?? {}).map(([key, value]) => [
        key,
        compileTree(value, (inner) => where(["path", key, ...inner]), loads)
      ])
    ),
    query: mergedValues("query", layers, loads, (key) => key),
    headers,
    cookies: new Map(
      Object.entries(content.cookies ?? {}).map(([key, value]) => [
        key,
        compileTree(value, (inner) => where(["cookies", key, ...inner]), loads)
      ])
    ),
    fixedHeaders: headers.every(({ fixed }) => fixed) ? headers.flatMap(({ fixed }) => fixed ?? []) : void 0,
    body: content.body === void 0 ? void 0 : planBody(content.body, {
      where,
      loads,
      method,
      read
    }),
    changes: content.changes ?? changesBy(method, content.body, read),
    timeout: timeoutOf(nearest("timeout")),
    retry: layers.reduce(
      (found, layer) => layer.content.retry === void 0 ? found : { spec: layer.content.retry, yaml: layer.yaml },
      void 0
    ),
    idempotencyKey: planKey(content["idempotency-key"], where, loads)
  };
}
function planKey(given, where, loads) {
  if (given === void 0) return void 0;
  const { header = "Idempotency-Key", value = "${uuid}" } = given === true ? {} : typeof given === "string" ? { value: given } : given;
  checkHeader(header, void 0, where(["idempotency-key", "header"]));
  return { header, tree: compileTree(value, () => where(["idempotency-key"]), loads) };
}
function changesBy(method, body2, read) {
  if (body2 && "graphql" in body2) {
    const { document, operation } = body2.graphql;
    const kind = operationKind(graphqlDocument(document, read), operation);
    if (kind !== void 0) return kind === "mutation";
  }
  return !safeMethods.has(method);
}
function mergedValues(key, layers, loads, same) {
  const merged = /* @__PURE__ */ new Map();
  for (const { content, yaml, origin } of layers) {
    for (const [name, value] of Object.entries(content[key] ?? {})) {
      if (key === "headers") checkHeader(name, void 0, yaml.position([key, name], "key"));
      const tree = compileTree(value, (path) => yaml.position([key, name, ...path]), loads);
      const fixed = key === "headers" && tree.constant !== void 0 ? linesOf(name, tree.constant, origin, false) : void 0;
      merged.set(same(name), { name, origin, tree, fixed });
    }
  }
  return [...merged.values()];
}
function planBody(spec, setting) {
  const { where } = setting;
  const [name, value] = Object.entries(spec)[0];
  const kind = bodyKinds.get(name);
  if (!kind) throw new Problem("body-shape", { what: `there is no body of the kind ${name}`, where: where(["body"]) });
  return kind.compile(value, { ...setting, where: (path) => where(["body", name, ...path]) });
}
function timeoutOf(spec) {
  return {
    ...spec?.connect !== void 0 && { connect: parseDuration(spec.connect) },
    ...spec?.["first-byte"] !== void 0 && { firstByte: parseDuration(spec["first-byte"]) },
    ...spec?.idle !== void 0 && { idle: parseDuration(spec.idle) },
    ...spec?.total !== void 0 && { total: parseDuration(spec.total) }
  };
}

// src/core/trail/paging/kinds/cursor.ts
var cursor = {
  name: "cursor",
  told: true,
  input: ({ cursor: spec }) => spec?.input,
  compile({ cursor: spec }, place) {
    const { input, from } = spec;
    const found = place(from);
    return ({ received }) => {
      const value = found.find(received);
      return value === void 0 || plain(value) === null || textOf(value) === "" ? void 0 : { input, value };
    };
  }
};

// src/core/trail/paging/kinds/next.ts
var next = {
  name: "next",
  told: true,
  input: () => void 0,
  compile({ next: at = "" }, place) {
    const found = place(at);
    return ({ received }) => {
      const value = found.find(received);
      if (value === void 0 || plain(value) === null) return void 0;
      const text2 = textOf(value).trim();
      if (text2 === "") return void 0;
      return URL.canParse(text2, received.finalUrl) ? { address: new URL(text2, received.finalUrl).href } : void 0;
    };
  }
};

// src/core/trail/paging/kinds/number.ts
var number = {
  name: "number",
  told: false,
  input: ({ number: spec }) => spec?.input,
  compile({ number: spec }) {
    const { input, first = 1 } = spec;
    return ({ pages }) => ({ input, value: first + pages });
  }
};

// src/core/trail/paging/kinds/offset.ts
var offset = {
  name: "offset",
  told: false,
  input: ({ offset: spec }) => spec?.input,
  compile({ offset: spec }) {
    const { input } = spec;
    return ({ items }) => ({ input, value: items });
  }
};

// src/core/trail/paging/registry.ts
var pageKinds = [next, cursor, number, offset];

// src/core/trail/paging/pages-plan.ts
function planPages(spec, { yaml, inputs, readText, loads, namespaces }) {
  const place = (key) => (text2) => {
    try {
      return readPlace(text2, loads, namespaces);
    } catch (error) {
      throw asProblem(error).at(yaml.position(["pages", key]));
    }
  };
  const ways = pageKinds.filter(({ name }) => spec[name] !== void 0);
  const [kind] = ways;
  if (!kind || ways.length > 1) {
    throw new Problem("file-shape", {
      what: `pages needs one way to ask for the next page, and has ${ways.length === 0 ? "none" : ways.map(({ name }) => name).join(" and ")}`,
      where: yaml.position(["pages"], "key"),
      remedy: `one of ${pageKinds.map(({ name }) => name).join(", ")}`
    });
  }
  const input = kind.input(spec);
  if (input !== void 0 && !inputs.includes(input)) {
    throw new Problem("file-shape", {
      what: `pages gives the next page to the input ${input}, which the request does not have`,
      where: yaml.position(["pages", kind.name, "input"]),
      remedy: `declare it: inputs: {${input}: {default: \u2026}}, and use \${${input}} in the request`
    });
  }
  return {
    items: place("items")(spec.items),
    total: spec.total === void 0 ? void 0 : place("total")(spec.total),
    following: compileExpectations(spec.while, yaml, ["pages", "while"], readText, loads, namespaces),
    size: spec.size,
    most: spec.most ?? 1e3,
    told: kind.told,
    next: kind.compile(spec, place(kind.name))
  };
}

// src/core/trail/prepare.ts
async function prepareRequest(collection, name, readText, signer) {
  const loaded = collection.read("request", name);
  const loads = [];
  const plan = planRequest(collection, loaded, loads);
  const { expect, keep, namespaces } = plan.content;
  const signing = plan.signature === void 0 ? void 0 : await signer(plan.signature).catch((error) => {
    throw asProblem(error).at(loaded.yaml.position(["signature"]));
  });
  const ready = {
    plan,
    signer: signing,
    expectations: compileExpectations(expect, loaded.yaml, ["expect"], readText, loads, namespaces),
    keeps: compileKeeps(keep, loaded.yaml, ["keep"], loads, namespaces),
    retry: plan.retry && {
      policy: retryPolicy(plan.retry.spec, plan.retry.yaml, readText, loads, namespaces)
    },
    pages: plan.content.pages && planPages(plan.content.pages, {
      yaml: loaded.yaml,
      inputs: plan.inputs.map((input) => input.name),
      readText,
      loads,
      namespaces
    }),
    tokens: tokenPlaces(collection, name, loads)
  };
  await Promise.all(loads);
  return ready;
}
var plainRequest = (plan) => ({
  plan,
  expectations: [],
  keeps: [],
  retry: void 0,
  pages: void 0,
  signer: void 0,
  tokens: []
});
async function prepareSigner(collection, name) {
  const { content, yaml } = collection.read("signature", name);
  const { compileSignature } = await import("./registry-QFCZKD3C.js");
  const loads = [];
  const signer = compileSignature(content, { name, yaml, loads });
  await Promise.all(loads);
  return signer;
}
function tokenPlaces(collection, request, loads) {
  return collection.names("session").flatMap((name) => {
    try {
      const { content } = collection.read("session", name);
      if (content.kind !== "login" || content.token === void 0 || !("send" in content.open)) return [];
      return collection.resolve("request", content.open.send) === request ? [readPlace(content.token, loads)] : [];
    } catch {
      return [];
    }
  });
}

export {
  compileTemplateText,
  planRequest,
  timeoutOf,
  prepareRequest,
  plainRequest,
  prepareSigner
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZXhjaGFuZ2UvcmVxdWVzdC1wbGFuLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2V4Y2hhbmdlL2JvZHkvZmlsZS50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9leGNoYW5nZS9ib2R5L2ZpbGUtcGllY2VzLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2V4Y2hhbmdlL2JvZHkvbWVkaWEtdHlwZS50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9leGNoYW5nZS9ib2R5L2Zvcm0udHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvZXhjaGFuZ2UvYm9keS9ncmFwaHFsLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2V4Y2hhbmdlL2JvZHkvcGFydHMudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvZXhjaGFuZ2UvYm9keS94bWwudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvZXhjaGFuZ2UvYm9keS90ZW1wbGF0ZS50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9leGNoYW5nZS9ib2R5L2pzb24udHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvZXhjaGFuZ2UvYm9keS9zb2FwLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2V4Y2hhbmdlL2JvZHkvdGV4dC50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9leGNoYW5nZS9ib2R5L3JlZ2lzdHJ5LnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3BhZ2luZy9raW5kcy9jdXJzb3IudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvcGFnaW5nL2tpbmRzL25leHQudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvcGFnaW5nL2tpbmRzL251bWJlci50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9wYWdpbmcva2luZHMvb2Zmc2V0LnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3BhZ2luZy9yZWdpc3RyeS50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9wYWdpbmcvcGFnZXMtcGxhbi50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9wcmVwYXJlLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogQSByZXF1ZXN0IGZpbGUgbWFkZSByZWFkeTogcGFyc2VkIG9uY2UsIGZvciBhbnkgbnVtYmVyIG9mIHNlbmRpbmdzLiAqL1xuaW1wb3J0IHsgcmVhZEZpbGVTeW5jIH0gZnJvbSAnbm9kZTpmcyc7XG5pbXBvcnQgdHlwZSB7IENvbGxlY3Rpb24sIExvYWRlZCB9IGZyb20gJy4uL2NvbGxlY3Rpb24vY29sbGVjdGlvbi5qcyc7XG5pbXBvcnQgdHlwZSB7IFJldHJ5RmlsZSB9IGZyb20gJy4uL2NvbGxlY3Rpb24vZmlsZXMvcGFydHMuanMnO1xuaW1wb3J0IHR5cGUgeyBSZXF1ZXN0RmlsZSB9IGZyb20gJy4uL2NvbGxlY3Rpb24vZmlsZXMvcmVxdWVzdC1maWxlLmpzJztcbmltcG9ydCB7IHR5cGUgSW5wdXRQbGFuLCBwbGFuSW5wdXRzIH0gZnJvbSAnLi4vY29sbGVjdGlvbi9pbnB1dHMuanMnO1xuaW1wb3J0IHR5cGUgeyBZYW1sRmlsZSB9IGZyb20gJy4uL2NvbGxlY3Rpb24veWFtbC5qcyc7XG5pbXBvcnQgeyBzYWZlTWV0aG9kcyB9IGZyb20gJy4uL2RvY3VtZW50YXRpb24vc2FmZS1tZXRob2RzLmpzJztcbmltcG9ydCB0eXBlIHsgTG9hZHMgfSBmcm9tICcuLi9leHByZXNzaW9uL2NvbXBpbGUuanMnO1xuaW1wb3J0IHsgY29tcGlsZVRyZWUsIHR5cGUgVHJlZSwgdHlwZSBUcmVlUGF0aCB9IGZyb20gJy4uL2V4cHJlc3Npb24vdHJlZS5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHBhdGhJbnNpZGUgfSBmcm9tICcuLi9zdG9yYWdlL2luc2lkZS5qcyc7XG5pbXBvcnQgeyBwYXJzZUR1cmF0aW9uIH0gZnJvbSAnLi4vdmFsdWUvbWVhc3VyZXMuanMnO1xuaW1wb3J0IHR5cGUgeyBWYWx1ZSB9IGZyb20gJy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHsgdHlwZSBBZGRyZXNzUGxhbiwgY29tcGlsZUFkZHJlc3MgfSBmcm9tICcuL2FkZHJlc3MuanMnO1xuaW1wb3J0IHR5cGUgeyBCb2R5UGxhbiwgQm9keVNldHRpbmcgfSBmcm9tICcuL2JvZHkvYm9keS1raW5kLmpzJztcbmltcG9ydCB7IGJvZHlLaW5kcyB9IGZyb20gJy4vYm9keS9yZWdpc3RyeS5qcyc7XG5pbXBvcnQgeyBncmFwaHFsRG9jdW1lbnQsIG9wZXJhdGlvbktpbmQgfSBmcm9tICcuL2dyYXBocWwtb3BlcmF0aW9uLmpzJztcbmltcG9ydCB7IGNoZWNrSGVhZGVyIH0gZnJvbSAnLi9oZWFkZXItcnVsZXMuanMnO1xuaW1wb3J0IHR5cGUgeyBIZWFkZXJMaW5lLCBUaW1lb3V0IH0gZnJvbSAnLi93aXJlLmpzJztcbmltcG9ydCB7IGxpbmVzT2YgfSBmcm9tICcuL3dyaXR0ZW4tbGluZXMuanMnO1xuXG5leHBvcnQgaW50ZXJmYWNlIFJlcXVlc3RQbGFuIHtcbiAgcmVhZG9ubHkgbmFtZTogc3RyaW5nO1xuICByZWFkb25seSBjb250ZW50OiBSZXF1ZXN0RmlsZTtcbiAgcmVhZG9ubHkgeWFtbDogWWFtbEZpbGU7XG4gIHJlYWRvbmx5IG1ldGhvZDogc3RyaW5nO1xuICByZWFkb25seSBjaGFuZ2VzOiBib29sZWFuO1xuICByZWFkb25seSBpbnB1dHM6IHJlYWRvbmx5IElucHV0UGxhbltdO1xuICByZWFkb25seSBzZXNzaW9uczogcmVhZG9ubHkgc3RyaW5nW107XG4gIHJlYWRvbmx5IHNpZ25hdHVyZTogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSBhZGRyZXNzOiBBZGRyZXNzUGxhbjtcbiAgcmVhZG9ubHkgcGF0aDogUmVhZG9ubHlNYXA8c3RyaW5nLCBUcmVlPjtcbiAgcmVhZG9ubHkgcXVlcnk6IHJlYWRvbmx5IFBsYW5uZWRWYWx1ZVtdO1xuICByZWFkb25seSBoZWFkZXJzOiByZWFkb25seSBQbGFubmVkVmFsdWVbXTtcbiAgcmVhZG9ubHkgY29va2llczogUmVhZG9ubHlNYXA8c3RyaW5nLCBUcmVlPjtcbiAgLyoqIEFsbCBoZWFkZXIgbGluZXMsIHdoZXJlIGV2ZXJ5IG9uZSBpcyB0aGUgc2FtZSBmb3IgZXZlcnkgc2VuZGluZy4gKi9cbiAgcmVhZG9ubHkgZml4ZWRIZWFkZXJzOiByZWFkb25seSBIZWFkZXJMaW5lW10gfCB1bmRlZmluZWQ7XG4gIHJlYWRvbmx5IGJvZHk6IEJvZHlQbGFuIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSB0aW1lb3V0OiBQYXJ0aWFsPFRpbWVvdXQ+O1xuICAvKiogV2hlcmUgYHJldHJ5YCBpcyBzYWlkLCBhbmQgaW4gd2hpY2ggZmlsZS4gKi9cbiAgcmVhZG9ubHkgcmV0cnk6IHsgcmVhZG9ubHkgc3BlYzogUmV0cnlGaWxlOyByZWFkb25seSB5YW1sOiBZYW1sRmlsZSB9IHwgdW5kZWZpbmVkO1xuICByZWFkb25seSBpZGVtcG90ZW5jeUtleTogeyByZWFkb25seSBoZWFkZXI6IHN0cmluZzsgcmVhZG9ubHkgdHJlZTogVHJlZSB9IHwgdW5kZWZpbmVkO1xufVxuXG5leHBvcnQgaW50ZXJmYWNlIFBsYW5uZWRWYWx1ZSB7XG4gIHJlYWRvbmx5IG5hbWU6IHN0cmluZztcbiAgcmVhZG9ubHkgdHJlZTogVHJlZTtcbiAgcmVhZG9ubHkgb3JpZ2luOiBzdHJpbmc7XG4gIC8qKiBUaGUgbGluZXMgb2YgYSBoZWFkZXIgdGhhdCBpcyB0aGUgc2FtZSBmb3IgZXZlcnkgc2VuZGluZy4gKi9cbiAgcmVhZG9ubHkgZml4ZWQ6IHJlYWRvbmx5IEhlYWRlckxpbmVbXSB8IHVuZGVmaW5lZDtcbn1cblxuLyoqIFdoYXQgYSByZXF1ZXN0IGZpbGUgc2F5cyBhbmQgd2hhdCB0aGUgZm9sZGVycyBhYm92ZSBpdCBzYXksIGFzIG9uZS4gKi9cbmludGVyZmFjZSBMYXllciB7XG4gIHJlYWRvbmx5IGNvbnRlbnQ6IFBhcnRpYWw8UmVxdWVzdEZpbGU+O1xuICByZWFkb25seSB5YW1sOiBZYW1sRmlsZTtcbiAgcmVhZG9ubHkgb3JpZ2luOiBzdHJpbmc7XG59XG5cbi8qKlxuICogQHBhcmFtIGxvYWRzIHdoYXQgbXVzdCBoYXZlIHNldHRsZWQgYmVmb3JlIHRoZSBwbGFuIGlzIHVzZWRcbiAqIEB0aHJvd3MgUHJvYmxlbSBhYm91dCBhbnl0aGluZyBpbiB0aGUgZmlsZSB0aGF0IGNhbm5vdCBiZSBtYWRlIHJlYWR5XG4gKi9cbmV4cG9ydCBmdW5jdGlvbiBwbGFuUmVxdWVzdChjb2xsZWN0aW9uOiBDb2xsZWN0aW9uLCBsb2FkZWQ6IExvYWRlZDxSZXF1ZXN0RmlsZT4sIGxvYWRzOiBMb2Fkcyk6IFJlcXVlc3RQbGFuIHtcbiAgY29uc3QgeyBjb250ZW50LCB5YW1sLCBuYW1lIH0gPSBsb2FkZWQ7XG4gIGNvbnN0IGxheWVyczogTGF5ZXJbXSA9IFtcbiAgICAuLi5jb2xsZWN0aW9uXG4gICAgICAuZGVmYXVsdHMobmFtZSlcbiAgICAgIC5tYXAoKGRlZmF1bHRzKSA9PiAoeyBjb250ZW50OiBkZWZhdWx0cy5jb250ZW50LCB5YW1sOiBkZWZhdWx0cy55YW1sLCBvcmlnaW46IGRlZmF1bHRzLnlhbWwuZmlsZSB9KSksXG4gICAgeyBjb250ZW50LCB5YW1sLCBvcmlnaW46IGByZXF1ZXN0ICR7bmFtZX1gIH0sXG4gIF07XG4gIGNvbnN0IG5lYXJlc3QgPSA8SyBleHRlbmRzIGtleW9mIFJlcXVlc3RGaWxlPihrZXk6IEspOiBSZXF1ZXN0RmlsZVtLXSB8IHVuZGVmaW5lZCA9PlxuICAgIGxheWVycy5yZWR1Y2U8UmVxdWVzdEZpbGVbS10gfCB1bmRlZmluZWQ+KChmb3VuZCwgbGF5ZXIpID0+IGxheWVyLmNvbnRlbnRba2V5XSA/PyBmb3VuZCwgdW5kZWZpbmVkKTtcbiAgY29uc3QgbWV0aG9kID0gKGNvbnRlbnQubWV0aG9kID8/ICdHRVQnKS50b1VwcGVyQ2FzZSgpO1xuICBjb25zdCB1cmwgPSBjb250ZW50LnVybDtcbiAgY29uc3Qgd2hlcmUgPSAocGF0aDogVHJlZVBhdGgpOiBSZXR1cm5UeXBlPFlhbWxGaWxlWydwb3NpdGlvbiddPiA9PiB5YW1sLnBvc2l0aW9uKHBhdGgpO1xuICBjb25zdCBzZXNzaW9uID0gbmVhcmVzdCgnc2Vzc2lvbicpID8/ICdub25lJztcbiAgY29uc3Qgc2lnbmF0dXJlID0gbmVhcmVzdCgnc2lnbmF0dXJlJykgPz8gJ25vbmUnO1xuICBjb25zdCBoZWFkZXJzID0gbWVyZ2VkVmFsdWVzKCdoZWFkZXJzJywgbGF5ZXJzLCBsb2FkcywgKGtleSkgPT4ga2V5LnRvTG93ZXJDYXNlKCkpO1xuICBjb25zdCByZWFkID0gKHBhdGg6IHN0cmluZyk6IHN0cmluZyA9PiByZWFkRmlsZVN5bmMocGF0aEluc2lkZShjb2xsZWN0aW9uLnJvb3QsIHBhdGgpLCAndXRmOCcpO1xuICByZXR1cm4ge1xuICAgIG5hbWUsXG4gICAgY29udGVudDoge1xuICAgICAgLi4uY29udGVudCxcbiAgICAgIGxpc3RzOiBuZWFyZXN0KCdsaXN0cycpLFxuICAgICAgcmVkaXJlY3RzOiBuZWFyZXN0KCdyZWRpcmVjdHMnKSxcbiAgICAgIGV4cGVjdDogT2JqZWN0LmFzc2lnbih7fSwgLi4ubGF5ZXJzLm1hcCgobGF5ZXIpID0+IGxheWVyLmNvbnRlbnQuZXhwZWN0ID8/IHt9KSkgYXMgUmVjb3JkPHN0cmluZywgVmFsdWU+LFxuICAgICAgbmFtZXNwYWNlczogT2JqZWN0LmFzc2lnbih7fSwgLi4ubGF5ZXJzLm1hcCgobGF5ZXIpID0+IGxheWVyLmNvbnRlbnQubmFtZXNwYWNlcyA/PyB7fSkpIGFzIFJlY29yZDxzdHJpbmcsIHN0cmluZz4sXG4gICAgfSxcbiAgICB5YW1sLFxuICAgIG1ldGhvZCxcbiAgICBpbnB1dHM6IHBsYW5JbnB1dHMoY29udGVudC5pbnB1dHMsIGxvYWRlZCwgYHJlcXVlc3QgJHtuYW1lfWAsIGxvYWRzKSxcbiAgICBzZXNzaW9uczogc2Vzc2lvbiA9PT0gJ25vbmUnID8gW10gOiBbc2Vzc2lvbl0uZmxhdCgpLFxuICAgIHNpZ25hdHVyZTogc2lnbmF0dXJlID09PSAnbm9uZScgPyB1bmRlZmluZWQgOiBzaWduYXR1cmUsXG4gICAgYWRkcmVzczogY29tcGlsZUFkZHJlc3ModXJsLCB3aGVyZShbJ3VybCddKSwgbG9hZHMpLFxuICAgIHBhdGg6IG5ldyBNYXAoXG4gICAgICBPYmplY3QuZW50cmllcyhjb250ZW50LnBhdGggPz8ge30pLm1hcCgoW2tleSwgdmFsdWVdKSA9PiBbXG4gICAgICAgIGtleSxcbiAgICAgICAgY29tcGlsZVRyZWUodmFsdWUsIChpbm5lcikgPT4gd2hlcmUoWydwYXRoJywga2V5LCAuLi5pbm5lcl0pLCBsb2FkcyksXG4gICAgICBdKSxcbiAgICApLFxuICAgIHF1ZXJ5OiBtZXJnZWRWYWx1ZXMoJ3F1ZXJ5JywgbGF5ZXJzLCBsb2FkcywgKGtleSkgPT4ga2V5KSxcbiAgICBoZWFkZXJzLFxuICAgIGNvb2tpZXM6IG5ldyBNYXAoXG4gICAgICBPYmplY3QuZW50cmllcyhjb250ZW50LmNvb2tpZXMgPz8ge30pLm1hcCgoW2tleSwgdmFsdWVdKSA9PiBbXG4gICAgICAgIGtleSxcbiAgICAgICAgY29tcGlsZVRyZWUodmFsdWUsIChpbm5lcikgPT4gd2hlcmUoWydjb29raWVzJywga2V5LCAuLi5pbm5lcl0pLCBsb2FkcyksXG4gICAgICBdKSxcbiAgICApLFxuICAgIGZpeGVkSGVhZGVyczogaGVhZGVycy5ldmVyeSgoeyBmaXhlZCB9KSA9PiBmaXhlZCkgPyBoZWFkZXJzLmZsYXRNYXAoKHsgZml4ZWQgfSkgPT4gZml4ZWQgPz8gW10pIDogdW5kZWZpbmVkLFxuICAgIGJvZHk6XG4gICAgICBjb250ZW50LmJvZHkgPT09IHVuZGVmaW5lZFxuICAgICAgICA/IHVuZGVmaW5lZFxuICAgICAgICA6IHBsYW5Cb2R5KGNvbnRlbnQuYm9keSwge1xuICAgICAgICAgICAgd2hlcmUsXG4gICAgICAgICAgICBsb2FkcyxcbiAgICAgICAgICAgIG1ldGhvZCxcbiAgICAgICAgICAgIHJlYWQsXG4gICAgICAgICAgfSksXG4gICAgY2hhbmdlczogY29udGVudC5jaGFuZ2VzID8/IGNoYW5nZXNCeShtZXRob2QsIGNvbnRlbnQuYm9keSwgcmVhZCksXG4gICAgdGltZW91dDogdGltZW91dE9mKG5lYXJlc3QoJ3RpbWVvdXQnKSksXG4gICAgcmV0cnk6IGxheWVycy5yZWR1Y2U8UmVxdWVzdFBsYW5bJ3JldHJ5J10+KFxuICAgICAgKGZvdW5kLCBsYXllcikgPT4gKGxheWVyLmNvbnRlbnQucmV0cnkgPT09IHVuZGVmaW5lZCA/IGZvdW5kIDogeyBzcGVjOiBsYXllci5jb250ZW50LnJldHJ5LCB5YW1sOiBsYXllci55YW1sIH0pLFxuICAgICAgdW5kZWZpbmVkLFxuICAgICksXG4gICAgaWRlbXBvdGVuY3lLZXk6IHBsYW5LZXkoY29udGVudFsnaWRlbXBvdGVuY3kta2V5J10sIHdoZXJlLCBsb2FkcyksXG4gIH07XG59XG5cbi8qKiBBcyB0aGUgSUVURiBkcmFmdCBkcmFmdC1pZXRmLWh0dHBhcGktaWRlbXBvdGVuY3kta2V5LWhlYWRlciBuYW1lcyB0aGUgaGVhZGVyLiAqL1xuZnVuY3Rpb24gcGxhbktleShcbiAgZ2l2ZW46IFJlcXVlc3RGaWxlWydpZGVtcG90ZW5jeS1rZXknXSxcbiAgd2hlcmU6IEJvZHlTZXR0aW5nWyd3aGVyZSddLFxuICBsb2FkczogTG9hZHMsXG4pOiBSZXF1ZXN0UGxhblsnaWRlbXBvdGVuY3lLZXknXSB7XG4gIGlmIChnaXZlbiA9PT0gdW5kZWZpbmVkKSByZXR1cm4gdW5kZWZpbmVkO1xuICBjb25zdCB7IGhlYWRlciA9ICdJZGVtcG90ZW5jeS1LZXknLCB2YWx1ZSA9ICcke3V1aWR9JyB9ID1cbiAgICBnaXZlbiA9PT0gdHJ1ZSA/IHt9IDogdHlwZW9mIGdpdmVuID09PSAnc3RyaW5nJyA/IHsgdmFsdWU6IGdpdmVuIH0gOiBnaXZlbjtcbiAgY2hlY2tIZWFkZXIoaGVhZGVyLCB1bmRlZmluZWQsIHdoZXJlKFsnaWRlbXBvdGVuY3kta2V5JywgJ2hlYWRlciddKSk7XG4gIHJldHVybiB7IGhlYWRlciwgdHJlZTogY29tcGlsZVRyZWUodmFsdWUsICgpID0+IHdoZXJlKFsnaWRlbXBvdGVuY3kta2V5J10pLCBsb2FkcykgfTtcbn1cblxuLyoqIEJ5IHRoZSBtZXRob2QsIHVubGVzcyB0aGUgYm9keSBzYXlzIG1vcmU6IGEgR3JhcGhRTCBxdWVyeSBnb2VzIGJ5IFBPU1QgdG9vLCBhbmQgYSBtdXRhdGlvbiBieSBubyBvdGhlci4gKi9cbmZ1bmN0aW9uIGNoYW5nZXNCeShtZXRob2Q6IHN0cmluZywgYm9keTogUmVxdWVzdEZpbGVbJ2JvZHknXSwgcmVhZDogKHBhdGg6IHN0cmluZykgPT4gc3RyaW5nKTogYm9vbGVhbiB7XG4gIGlmIChib2R5ICYmICdncmFwaHFsJyBpbiBib2R5KSB7XG4gICAgY29uc3QgeyBkb2N1bWVudCwgb3BlcmF0aW9uIH0gPSBib2R5LmdyYXBocWw7XG4gICAgY29uc3Qga2luZCA9IG9wZXJhdGlvbktpbmQoZ3JhcGhxbERvY3VtZW50KGRvY3VtZW50LCByZWFkKSwgb3BlcmF0aW9uKTtcbiAgICBpZiAoa2luZCAhPT0gdW5kZWZpbmVkKSByZXR1cm4ga2luZCA9PT0gJ211dGF0aW9uJztcbiAgfVxuICByZXR1cm4gIXNhZmVNZXRob2RzLmhhcyhtZXRob2QpO1xufVxuXG4vKiogVmFsdWVzIGJ5IG5hbWUsIHRoZSBuZWFyZXN0IGxheWVyIHdpbm5pbmcsIGluIHRoZSBvcmRlciBpbiB3aGljaCB0aGV5IGZpcnN0IHN0YW5kLiAqL1xuZnVuY3Rpb24gbWVyZ2VkVmFsdWVzKFxuICBrZXk6ICdxdWVyeScgfCAnaGVhZGVycycsXG4gIGxheWVyczogcmVhZG9ubHkgTGF5ZXJbXSxcbiAgbG9hZHM6IExvYWRzLFxuICBzYW1lOiAobmFtZTogc3RyaW5nKSA9PiBzdHJpbmcsXG4pOiBQbGFubmVkVmFsdWVbXSB7XG4gIGNvbnN0IG1lcmdlZCA9IG5ldyBNYXA8c3RyaW5nLCBQbGFubmVkVmFsdWU+KCk7XG4gIGZvciAoY29uc3QgeyBjb250ZW50LCB5YW1sLCBvcmlnaW4gfSBvZiBsYXllcnMpIHtcbiAgICBmb3IgKGNvbnN0IFtuYW1lLCB2YWx1ZV0gb2YgT2JqZWN0LmVudHJpZXMoY29udGVudFtrZXldID8/IHt9KSkge1xuICAgICAgaWYgKGtleSA9PT0gJ2hlYWRlcnMnKSBjaGVja0hlYWRlcihuYW1lLCB1bmRlZmluZWQsIHlhbWwucG9zaXRpb24oW2tleSwgbmFtZV0sICdrZXknKSk7XG4gICAgICBjb25zdCB0cmVlID0gY29tcGlsZVRyZWUodmFsdWUsIChwYXRoKSA9PiB5YW1sLnBvc2l0aW9uKFtrZXksIG5hbWUsIC4uLnBhdGhdKSwgbG9hZHMpO1xuICAgICAgY29uc3QgZml4ZWQgPVxuICAgICAgICBrZXkgPT09ICdoZWFkZXJzJyAmJiB0cmVlLmNvbnN0YW50ICE9PSB1bmRlZmluZWQgPyBsaW5lc09mKG5hbWUsIHRyZWUuY29uc3RhbnQsIG9yaWdpbiwgZmFsc2UpIDogdW5kZWZpbmVkO1xuICAgICAgbWVyZ2VkLnNldChzYW1lKG5hbWUpLCB7IG5hbWUsIG9yaWdpbiwgdHJlZSwgZml4ZWQgfSk7XG4gICAgfVxuICB9XG4gIHJldHVybiBbLi4ubWVyZ2VkLnZhbHVlcygpXTtcbn1cblxuZnVuY3Rpb24gcGxhbkJvZHkoc3BlYzogTm9uTnVsbGFibGU8UmVxdWVzdEZpbGVbJ2JvZHknXT4sIHNldHRpbmc6IEJvZHlTZXR0aW5nKTogQm9keVBsYW4ge1xuICBjb25zdCB7IHdoZXJlIH0gPSBzZXR0aW5nO1xuICBjb25zdCBbbmFtZSwgdmFsdWVdID0gT2JqZWN0LmVudHJpZXMoc3BlYylbMF0gYXMgW3N0cmluZywgVmFsdWVdO1xuICBjb25zdCBraW5kID0gYm9keUtpbmRzLmdldChuYW1lKTtcbiAgaWYgKCFraW5kKSB0aHJvdyBuZXcgUHJvYmxlbSgnYm9keS1zaGFwZScsIHsgd2hhdDogYHRoZXJlIGlzIG5vIGJvZHkgb2YgdGhlIGtpbmQgJHtuYW1lfWAsIHdoZXJlOiB3aGVyZShbJ2JvZHknXSkgfSk7XG4gIHJldHVybiBraW5kLmNvbXBpbGUodmFsdWUsIHsgLi4uc2V0dGluZywgd2hlcmU6IChwYXRoKSA9PiB3aGVyZShbJ2JvZHknLCBuYW1lLCAuLi5wYXRoXSkgfSk7XG59XG5cbmV4cG9ydCBmdW5jdGlvbiB0aW1lb3V0T2Yoc3BlYzogUmVxdWVzdEZpbGVbJ3RpbWVvdXQnXSk6IFBhcnRpYWw8VGltZW91dD4ge1xuICByZXR1cm4ge1xuICAgIC4uLihzcGVjPy5jb25uZWN0ICE9PSB1bmRlZmluZWQgJiYgeyBjb25uZWN0OiBwYXJzZUR1cmF0aW9uKHNwZWMuY29ubmVjdCkgYXMgbnVtYmVyIH0pLFxuICAgIC4uLihzcGVjPy5bJ2ZpcnN0LWJ5dGUnXSAhPT0gdW5kZWZpbmVkICYmIHsgZmlyc3RCeXRlOiBwYXJzZUR1cmF0aW9uKHNwZWNbJ2ZpcnN0LWJ5dGUnXSkgYXMgbnVtYmVyIH0pLFxuICAgIC4uLihzcGVjPy5pZGxlICE9PSB1bmRlZmluZWQgJiYgeyBpZGxlOiBwYXJzZUR1cmF0aW9uKHNwZWMuaWRsZSkgYXMgbnVtYmVyIH0pLFxuICAgIC4uLihzcGVjPy50b3RhbCAhPT0gdW5kZWZpbmVkICYmIHsgdG90YWw6IHBhcnNlRHVyYXRpb24oc3BlYy50b3RhbCkgYXMgbnVtYmVyIH0pLFxuICB9O1xufVxuIiwgIi8qKiBgZmlsZWA6IHRoZSBieXRlcyBvZiBhIGZpbGUgYXMgdGhleSBhcmUsIHN0cmVhbWVkIGZyb20gdGhlIGRpc2sgd2l0aCB0aGVpciBsZW5ndGguICovXG5pbXBvcnQgeyBjcmVhdGVSZWFkU3RyZWFtLCBzdGF0U3luYyB9IGZyb20gJ25vZGU6ZnMnO1xuaW1wb3J0IHsgb21pdHRlZCB9IGZyb20gJy4uLy4uL2V4cHJlc3Npb24vZXZhbHVhdGlvbi5qcyc7XG5pbXBvcnQgeyBjb21waWxlVGVtcGxhdGUgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL3RlbXBsYXRlLmpzJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgc2l6ZVRleHQgfSBmcm9tICcuLi8uLi92YWx1ZS9tZWFzdXJlcy5qcyc7XG5pbXBvcnQgeyB0ZXh0T2YgfSBmcm9tICcuLi8uLi92YWx1ZS90ZXh0LmpzJztcbmltcG9ydCB0eXBlIHsgQm9keUtpbmQgfSBmcm9tICcuL2JvZHkta2luZC5qcyc7XG5pbXBvcnQgeyBmaWxlUGllY2VzIH0gZnJvbSAnLi9maWxlLXBpZWNlcy5qcyc7XG5pbXBvcnQgeyBtZWRpYVR5cGVPZiB9IGZyb20gJy4vbWVkaWEtdHlwZS5qcyc7XG5cbmNvbnN0IG5vdGhpbmcgPSBuZXcgVWludDhBcnJheSgpO1xuXG5leHBvcnQgY29uc3QgZmlsZTogQm9keUtpbmQgPSB7XG4gIG5hbWU6ICdmaWxlJyxcbiAgYWJvdXQ6ICd0aGUgYnl0ZXMgb2YgYSBmaWxlIGluIHRoZSBjb2xsZWN0aW9uLCBzdHJlYW1lZCBmcm9tIHRoZSBkaXNrJyxcbiAgY29tcGlsZShzcGVjLCB7IHdoZXJlLCBsb2FkcyB9KSB7XG4gICAgY29uc3QgdGVtcGxhdGUgPSBjb21waWxlVGVtcGxhdGUoc3BlYywgd2hlcmUoW10pLCBsb2Fkcyk7XG4gICAgcmV0dXJuIChldmFsdWF0aW9uKSA9PiB7XG4gICAgICBjb25zdCB2YWx1ZSA9IHRlbXBsYXRlLmV2YWx1YXRlKGV2YWx1YXRpb24pO1xuICAgICAgaWYgKHZhbHVlID09PSBvbWl0dGVkKSByZXR1cm4gdW5kZWZpbmVkO1xuICAgICAgY29uc3QgbmFtZWQgPSB0ZXh0T2YodmFsdWUpO1xuICAgICAgaWYgKG5hbWVkID09PSAnJykgdGhyb3cgbmV3IFByb2JsZW0oJ2JvZHktc2hhcGUnLCB7IHdoYXQ6ICd0aGUgZmlsZSBvZiB0aGUgYm9keSBoYXMgbm8gbmFtZScsIHdoZXJlOiB3aGVyZShbXSkgfSk7XG4gICAgICBjb25zdCBwYXRoID0gZXZhbHVhdGlvbi53b3JsZC5wYXRoKG5hbWVkKTtcbiAgICAgIGNvbnN0IHsgc2l6ZSB9ID0gc3RhdFN5bmMocGF0aCk7XG4gICAgICByZXR1cm4ge1xuICAgICAgICBieXRlczogbm90aGluZyxcbiAgICAgICAgc3RyZWFtZWQ6IHsgc2l6ZSwgb3BlbjogKCkgPT4gY3JlYXRlUmVhZFN0cmVhbShwYXRoKSwgcGllY2VzOiAoKSA9PiBmaWxlUGllY2VzKHBhdGgpIH0sXG4gICAgICAgIHR5cGU6IG1lZGlhVHlwZU9mKG5hbWVkKSxcbiAgICAgICAgc2hvd246IGAoJHtzaXplVGV4dChzaXplKX0gb2YgJHtuYW1lZH0pYCxcbiAgICAgICAgc2VjcmV0OiBmYWxzZSxcbiAgICAgIH07XG4gICAgfTtcbiAgfSxcbn07XG4iLCAiLyoqIEEgZmlsZSByZWFkIHBpZWNlIGJ5IHBpZWNlLCBhdCBvbmNlOiBhIGRpZ2VzdCBvZiBpdCBpcyB3YW50ZWQgYmVmb3JlIGFueXRoaW5nIGxlYXZlcy4gKi9cbmltcG9ydCB7IGNsb3NlU3luYywgb3BlblN5bmMsIHJlYWRTeW5jIH0gZnJvbSAnbm9kZTpmcyc7XG5cbmNvbnN0IHNpemUgPSAxIDw8IDE4O1xuXG5leHBvcnQgZnVuY3Rpb24qIGZpbGVQaWVjZXMocGF0aDogc3RyaW5nKTogR2VuZXJhdG9yPFVpbnQ4QXJyYXk+IHtcbiAgY29uc3QgZmlsZSA9IG9wZW5TeW5jKHBhdGgsICdyJyk7XG4gIHRyeSB7XG4gICAgY29uc3QgYnVmZmVyID0gQnVmZmVyLmFsbG9jVW5zYWZlKHNpemUpO1xuICAgIGZvciAobGV0IHJlYWQgPSByZWFkU3luYyhmaWxlLCBidWZmZXIpOyByZWFkID4gMDsgcmVhZCA9IHJlYWRTeW5jKGZpbGUsIGJ1ZmZlcikpIHlpZWxkIGJ1ZmZlci5zdWJhcnJheSgwLCByZWFkKTtcbiAgfSBmaW5hbGx5IHtcbiAgICBjbG9zZVN5bmMoZmlsZSk7XG4gIH1cbn1cbiIsICIvKiogVGhlIG1lZGlhIHR5cGUgb2YgYSBmaWxlIGJ5IHRoZSBlbmRpbmcgb2YgaXRzIG5hbWUuICovXG5pbXBvcnQgeyBtaW1lcyB9IGZyb20gJ21ybWltZSc7XG5cbi8qKiBgYXBwbGljYXRpb24vb2N0ZXQtc3RyZWFtYCB3aGVyZSB0aGUgZW5kaW5nIHNheXMgbm90aGluZyAoUkZDIDIwNDYsIHNlY3Rpb24gNC41LjEpLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIG1lZGlhVHlwZU9mKHBhdGg6IHN0cmluZyk6IHN0cmluZyB7XG4gIGNvbnN0IGVuZGluZyA9IC9cXC4oW0EtWmEtejAtOV0rKSQvLmV4ZWMocGF0aCk/LlsxXT8udG9Mb3dlckNhc2UoKSA/PyAnJztcbiAgLy8gUkZDIDczMDMsIHNlY3Rpb24gOS4yOiB0aGUgc2FtZSwgYW5kIHRoZSBiZXR0ZXIgbmFtZS5cbiAgaWYgKGVuZGluZyA9PT0gJ3htbCcpIHJldHVybiAnYXBwbGljYXRpb24veG1sJztcbiAgY29uc3QgdHlwZSA9IE9iamVjdC5oYXNPd24obWltZXMsIGVuZGluZykgPyBtaW1lc1tlbmRpbmddIDogdW5kZWZpbmVkO1xuICByZXR1cm4gdHlwZSA/PyAnYXBwbGljYXRpb24vb2N0ZXQtc3RyZWFtJztcbn1cbiIsICIvKipcbiAqIGBmb3JtYDogYXBwbGljYXRpb24veC13d3ctZm9ybS11cmxlbmNvZGVkIChXSEFUV0cgVVJMIFN0YW5kYXJkLCBzZWN0aW9uIDUpLiBBIGxpc3QgcmVwZWF0cyBpdHMgZmllbGQ7IGEgbWFwIGluc2lkZVxuICogaXMgd3JpdHRlbiB3aXRoIGJyYWNrZXRzLCBhcyBzZXJ2ZXJzIHRoYXQgdGFrZSBzdHJ1Y3R1cmVzIGluIGEgZm9ybSByZWFkIHRoZW06IGBiZXJ0aFtxdWF5XT1ub3J0aGAuXG4gKi9cbmltcG9ydCB7IG9taXR0ZWQgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL2V2YWx1YXRpb24uanMnO1xuaW1wb3J0IHsgY29tcGlsZVRyZWUsIHJlcGxhY2VkQXQsIHR5cGUgU2VjcmV0VHJhY2UgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL3RyZWUuanMnO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyB0ZXh0T2YgfSBmcm9tICcuLi8uLi92YWx1ZS90ZXh0LmpzJztcbmltcG9ydCB7IGlzVmFsdWVNYXAsIHBsYWluLCB0eXBlIFZhbHVlIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyBoaWRkZW4gfSBmcm9tICcuLi93aXJlLmpzJztcbmltcG9ydCB0eXBlIHsgQm9keUtpbmQgfSBmcm9tICcuL2JvZHkta2luZC5qcyc7XG5cbmV4cG9ydCBjb25zdCBmb3JtOiBCb2R5S2luZCA9IHtcbiAgbmFtZTogJ2Zvcm0nLFxuICBhYm91dDogJ2ZpZWxkcywgc2VudCBVUkwtZW5jb2RlZDsgYSBsaXN0IHJlcGVhdHMgaXRzIGZpZWxkLCBhIG1hcCBpcyB3cml0dGVuIHdpdGggYnJhY2tldHMnLFxuICBjb21waWxlKHNwZWMsIHsgd2hlcmUsIGxvYWRzIH0pIHtcbiAgICBjb25zdCB0cmVlID0gY29tcGlsZVRyZWUoc3BlYywgd2hlcmUsIGxvYWRzKTtcbiAgICByZXR1cm4gKGV2YWx1YXRpb24pID0+IHtcbiAgICAgIGNvbnN0IHRyYWNlOiBTZWNyZXRUcmFjZSA9IHsgcGF0aDogW10sIHNlY3JldDogW10gfTtcbiAgICAgIGNvbnN0IHZhbHVlID0gdHJlZS5ldmFsdWF0ZShldmFsdWF0aW9uLCB0cmFjZSk7XG4gICAgICBpZiAodmFsdWUgPT09IG9taXR0ZWQpIHJldHVybiB1bmRlZmluZWQ7XG4gICAgICBjb25zdCBzZW50ID0gZW5jb2RlZCh2YWx1ZSk7XG4gICAgICBjb25zdCBzZWNyZXQgPSB0cmFjZS5zZWNyZXQubGVuZ3RoID4gMDtcbiAgICAgIGNvbnN0IHNob3duID0gc2VjcmV0XG4gICAgICAgID8gZGVjb2RlVVJJQ29tcG9uZW50KGVuY29kZWQocmVwbGFjZWRBdCh2YWx1ZSwgdHJhY2Uuc2VjcmV0LCBoaWRkZW4pKS5yZXBsYWNlQWxsKCcrJywgJyAnKSlcbiAgICAgICAgOiBzZW50O1xuICAgICAgcmV0dXJuIHsgYnl0ZXM6IEJ1ZmZlci5mcm9tKHNlbnQsICd1dGY4JyksIHR5cGU6ICdhcHBsaWNhdGlvbi94LXd3dy1mb3JtLXVybGVuY29kZWQnLCBzaG93biwgc2VjcmV0IH07XG4gICAgfTtcbiAgfSxcbn07XG5cbmZ1bmN0aW9uIGVuY29kZWQoZmllbGRzOiBWYWx1ZSk6IHN0cmluZyB7XG4gIGlmICghaXNWYWx1ZU1hcChmaWVsZHMpKSB0aHJvdyBuZXcgUHJvYmxlbSgnYm9keS1zaGFwZScsIHsgd2hhdDogJ2EgZm9ybSBpcyBhIG1hcCBvZiBmaWVsZHMnIH0pO1xuICBjb25zdCBwYWlycyA9IG5ldyBVUkxTZWFyY2hQYXJhbXMoKTtcbiAgY29uc3QgYWRkID0gKG5hbWU6IHN0cmluZywgdmFsdWU6IFZhbHVlKTogdm9pZCA9PiB7XG4gICAgaWYgKEFycmF5LmlzQXJyYXkodmFsdWUpKSB7XG4gICAgICAvLyBJdGVtcyB0aGF0IGFyZSBtYXBzIG5lZWQgdGhlaXIgcGxhY2UsIG9yIHRoZWlyIG1lbWJlcnMgd291bGQgcnVuIHRvZ2V0aGVyLlxuICAgICAgZm9yIChjb25zdCBbaW5kZXgsIGl0ZW1dIG9mICh2YWx1ZSBhcyByZWFkb25seSBWYWx1ZVtdKS5lbnRyaWVzKCkpXG4gICAgICAgIGFkZChpc1ZhbHVlTWFwKGl0ZW0pIHx8IEFycmF5LmlzQXJyYXkoaXRlbSkgPyBgJHtuYW1lfVske2luZGV4fV1gIDogbmFtZSwgaXRlbSk7XG4gICAgfSBlbHNlIGlmIChpc1ZhbHVlTWFwKHZhbHVlKSkgZm9yIChjb25zdCBba2V5LCBpbm5lcl0gb2YgT2JqZWN0LmVudHJpZXModmFsdWUpKSBhZGQoYCR7bmFtZX1bJHtrZXl9XWAsIGlubmVyKTtcbiAgICBlbHNlIGlmIChwbGFpbih2YWx1ZSkgPT09IG51bGwgfHwgdmFsdWUgaW5zdGFuY2VvZiBVaW50OEFycmF5KSB7XG4gICAgICB0aHJvdyBuZXcgUHJvYmxlbSgnYm9keS1zaGFwZScsIHtcbiAgICAgICAgd2hhdDogYHRoZSBmb3JtIGZpZWxkICR7bmFtZX0gaXMgJHtwbGFpbih2YWx1ZSkgPT09IG51bGwgPyAnbnVsbCcgOiAnYnl0ZXMnfWAsXG4gICAgICAgIHJlbWVkeTogJ2EgZm9ybSBob2xkcyB0ZXh0OyBsZWF2ZSBhIGZpZWxkIG91dCB3aXRoICR7b21pdH0sIG9yIHdyaXRlIGJ5dGVzIGFzIHRleHQgd2l0aCB8IGJhc2U2NCcsXG4gICAgICB9KTtcbiAgICB9IGVsc2UgcGFpcnMuYXBwZW5kKG5hbWUsIHRleHRPZih2YWx1ZSkpO1xuICB9O1xuICBmb3IgKGNvbnN0IFtuYW1lLCB2YWx1ZV0gb2YgT2JqZWN0LmVudHJpZXMoZmllbGRzKSkgYWRkKG5hbWUsIHZhbHVlKTtcbiAgcmV0dXJuIHBhaXJzLnRvU3RyaW5nKCk7XG59XG4iLCAiLyoqXG4gKiBgZ3JhcGhxbGA6IGEgZG9jdW1lbnQgd2l0aCBpdHMgdmFyaWFibGVzLiBQT1NUIHNlbmRzIHRoZW0gYXMgSlNPTiAoR3JhcGhRTCBvdmVyIEhUVFAsIHNlY3Rpb24gNS40KSwgR0VUIGFzIHBhcmFtZXRlcnNcbiAqIChzZWN0aW9uIDUuMyksIGFuZCB3aGVyZSBhIHZhcmlhYmxlIGlzIGEgZmlsZSwgYWxsIG9mIGl0IGdvZXMgYXMgcGFydHM6IGBvcGVyYXRpb25zYCwgYSBgbWFwYCBmcm9tIHBhcnRzIHRvIHZhcmlhYmxlcyxcbiAqIGFuZCB0aGUgZmlsZXMuXG4gKi9cbmltcG9ydCB7IGJhc2VuYW1lIH0gZnJvbSAnbm9kZTpwYXRoJztcbmltcG9ydCB7IHR5cGUgRXZhbHVhdGlvbiwgb21pdHRlZCB9IGZyb20gJy4uLy4uL2V4cHJlc3Npb24vZXZhbHVhdGlvbi5qcyc7XG5pbXBvcnQgeyBjb21waWxlVHJlZSwgcmVwbGFjZWRBdCwgdHlwZSBTZWNyZXRUcmFjZSB9IGZyb20gJy4uLy4uL2V4cHJlc3Npb24vdHJlZS5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHdyaXRlSnNvbiB9IGZyb20gJy4uLy4uL3ZhbHVlL2pzb24tdGV4dC5qcyc7XG5pbXBvcnQgeyB0ZXh0T2YgfSBmcm9tICcuLi8uLi92YWx1ZS90ZXh0LmpzJztcbmltcG9ydCB7IGlzVmFsdWVNYXAsIHR5cGUgVmFsdWUgfSBmcm9tICcuLi8uLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB7IGdyYXBocWxEb2N1bWVudCB9IGZyb20gJy4uL2dyYXBocWwtb3BlcmF0aW9uLmpzJztcbmltcG9ydCB7IGhpZGRlbiwgdHlwZSBXaXJlQm9keSB9IGZyb20gJy4uL3dpcmUuanMnO1xuaW1wb3J0IHR5cGUgeyBCb2R5S2luZCwgQm9keVNldHRpbmcgfSBmcm9tICcuL2JvZHkta2luZC5qcyc7XG5pbXBvcnQgeyBtZWRpYVR5cGVPZiB9IGZyb20gJy4vbWVkaWEtdHlwZS5qcyc7XG5pbXBvcnQgeyBtdWx0aXBhcnQsIHR5cGUgUGFydCB9IGZyb20gJy4vcGFydHMuanMnO1xuXG5leHBvcnQgY29uc3QgZ3JhcGhxbDogQm9keUtpbmQgPSB7XG4gIG5hbWU6ICdncmFwaHFsJyxcbiAgYWJvdXQ6ICdhIEdyYXBoUUwgZG9jdW1lbnQgd2l0aCBpdHMgdmFyaWFibGVzOyB2YXJpYWJsZXMga2VlcCB0aGVpciB0eXBlcywgYW5kIG1heSBiZSBmaWxlcycsXG4gIGNvbXBpbGUoc3BlYywgc2V0dGluZykge1xuICAgIGNvbnN0IHsgdmFyaWFibGVzID0ge30sIG9wZXJhdGlvbiB9ID0gc3BlYyBhcyB7IHZhcmlhYmxlcz86IFZhbHVlOyBvcGVyYXRpb24/OiBzdHJpbmcgfTtcbiAgICBjb25zdCBkb2N1bWVudCA9IGRvY3VtZW50T2YoKHNwZWMgYXMgeyBkb2N1bWVudDogc3RyaW5nIH0pLmRvY3VtZW50LCBzZXR0aW5nKTtcbiAgICBjb25zdCB7IHdoZXJlLCBsb2FkcywgbWV0aG9kIH0gPSBzZXR0aW5nO1xuICAgIGNvbnN0IHRyZWUgPSBjb21waWxlVHJlZSh2YXJpYWJsZXMsIChwYXRoKSA9PiB3aGVyZShbJ3ZhcmlhYmxlcycsIC4uLnBhdGhdKSwgbG9hZHMpO1xuICAgIHJldHVybiAoZXZhbHVhdGlvbikgPT4ge1xuICAgICAgY29uc3QgdHJhY2U6IFNlY3JldFRyYWNlID0geyBwYXRoOiBbXSwgc2VjcmV0OiBbXSB9O1xuICAgICAgY29uc3QgdmFsdWUgPSB0cmVlLmV2YWx1YXRlKGV2YWx1YXRpb24sIHRyYWNlKTtcbiAgICAgIGNvbnN0IGdpdmVuID0gdmFsdWUgPT09IG9taXR0ZWQgPyB7fSA6IHZhbHVlO1xuICAgICAgY29uc3QgY2FsbDogQ2FsbCA9IHsgZG9jdW1lbnQsIG9wZXJhdGlvbiwgdmFyaWFibGVzOiBnaXZlbiwgc2VjcmV0OiB0cmFjZS5zZWNyZXQgfTtcbiAgICAgIGNvbnN0IGZpbGVzOiBVcGxvYWRbXSA9IFtdO1xuICAgICAgY29uc3Qgc2VudCA9IHRha2VGaWxlcyhnaXZlbiwgJ3ZhcmlhYmxlcycsIGZpbGVzLCBldmFsdWF0aW9uKTtcbiAgICAgIGlmIChtZXRob2QgPT09ICdHRVQnICYmIGZpbGVzLmxlbmd0aCA+IDApIHtcbiAgICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ2JvZHktc2hhcGUnLCB7XG4gICAgICAgICAgd2hhdDogJ2EgdmFyaWFibGUgaXMgYSBmaWxlLCBhbmQgYSBHRVQgY2FycmllcyBub25lJyxcbiAgICAgICAgICB3aGVyZTogd2hlcmUoWyd2YXJpYWJsZXMnXSksXG4gICAgICAgICAgcmVtZWR5OiAnbWV0aG9kOiBQT1NUJyxcbiAgICAgICAgfSk7XG4gICAgICB9XG4gICAgICBpZiAobWV0aG9kID09PSAnR0VUJykgcmV0dXJuIGFzUGFyYW1ldGVycyhjYWxsKTtcbiAgICAgIHJldHVybiBmaWxlcy5sZW5ndGggPiAwID8gYXNQYXJ0cyh7IC4uLmNhbGwsIHZhcmlhYmxlczogc2VudCB9LCBmaWxlcykgOiBhc0pzb24oY2FsbCk7XG4gICAgfTtcbiAgfSxcbn07XG5cbmludGVyZmFjZSBDYWxsIHtcbiAgcmVhZG9ubHkgZG9jdW1lbnQ6IHN0cmluZztcbiAgcmVhZG9ubHkgb3BlcmF0aW9uOiBzdHJpbmcgfCB1bmRlZmluZWQ7XG4gIHJlYWRvbmx5IHZhcmlhYmxlczogVmFsdWU7XG4gIHJlYWRvbmx5IHNlY3JldDogU2VjcmV0VHJhY2VbJ3NlY3JldCddO1xufVxuXG5mdW5jdGlvbiBkb2N1bWVudE9mKGdpdmVuOiBzdHJpbmcsIHsgd2hlcmUsIHJlYWQgfTogQm9keVNldHRpbmcpOiBzdHJpbmcge1xuICBsZXQgZG9jdW1lbnQ6IHN0cmluZztcbiAgdHJ5IHtcbiAgICBkb2N1bWVudCA9IGdyYXBocWxEb2N1bWVudChnaXZlbiwgcmVhZCk7XG4gIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgdGhyb3cgZXJyb3IgaW5zdGFuY2VvZiBQcm9ibGVtID8gZXJyb3IuYXQod2hlcmUoWydkb2N1bWVudCddKSkgOiBlcnJvcjtcbiAgfVxuICBpZiAoZG9jdW1lbnQuaW5jbHVkZXMoJyR7JykpIHtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgnYm9keS1zaGFwZScsIHtcbiAgICAgIHdoYXQ6ICdhbiBleHByZXNzaW9uIHN0YW5kcyBpbiB0aGUgZG9jdW1lbnQnLFxuICAgICAgd2hlcmU6IHdoZXJlKFsnZG9jdW1lbnQnXSksXG4gICAgICByZW1lZHk6ICdkZWNsYXJlIGEgdmFyaWFibGUgaW4gdGhlIGRvY3VtZW50ICgkbmFtZTogVHlwZSkgYW5kIGdpdmUgaXRzIHZhbHVlIHVuZGVyIHZhcmlhYmxlczonLFxuICAgIH0pO1xuICB9XG4gIHJldHVybiBkb2N1bWVudDtcbn1cblxuY29uc3QgaGFzVmFyaWFibGVzID0gKHZhcmlhYmxlczogVmFsdWUpOiBib29sZWFuID0+IGlzVmFsdWVNYXAodmFyaWFibGVzKSAmJiBPYmplY3Qua2V5cyh2YXJpYWJsZXMpLmxlbmd0aCA+IDA7XG5cbmZ1bmN0aW9uIG9wZXJhdGlvbnNUZXh0KHsgZG9jdW1lbnQsIG9wZXJhdGlvbiB9OiBDYWxsLCB2YXJpYWJsZXM6IFZhbHVlKTogc3RyaW5nIHtcbiAgcmV0dXJuIHdyaXRlSnNvbih7XG4gICAgcXVlcnk6IGRvY3VtZW50LFxuICAgIC4uLihoYXNWYXJpYWJsZXModmFyaWFibGVzKSAmJiB7IHZhcmlhYmxlcyB9KSxcbiAgICAuLi4ob3BlcmF0aW9uICE9PSB1bmRlZmluZWQgJiYgeyBvcGVyYXRpb25OYW1lOiBvcGVyYXRpb24gfSksXG4gIH0pO1xufVxuXG5mdW5jdGlvbiBhc0pzb24oY2FsbDogQ2FsbCk6IFdpcmVCb2R5IHtcbiAgY29uc3QgdGV4dCA9IG9wZXJhdGlvbnNUZXh0KGNhbGwsIGNhbGwudmFyaWFibGVzKTtcbiAgY29uc3Qgc2VjcmV0ID0gY2FsbC5zZWNyZXQubGVuZ3RoID4gMDtcbiAgY29uc3Qgc2hvd24gPSBzZWNyZXQgPyBvcGVyYXRpb25zVGV4dChjYWxsLCByZXBsYWNlZEF0KGNhbGwudmFyaWFibGVzLCBjYWxsLnNlY3JldCwgaGlkZGVuKSkgOiB0ZXh0O1xuICByZXR1cm4geyBieXRlczogQnVmZmVyLmZyb20odGV4dCwgJ3V0ZjgnKSwgdHlwZTogJ2FwcGxpY2F0aW9uL2pzb24nLCBzaG93biwgc2VjcmV0IH07XG59XG5cbmZ1bmN0aW9uIGFzUGFyYW1ldGVycyh7IGRvY3VtZW50LCBvcGVyYXRpb24sIHZhcmlhYmxlcywgc2VjcmV0IH06IENhbGwpOiBXaXJlQm9keSB7XG4gIGNvbnN0IGhpZGUgPSBzZWNyZXQubGVuZ3RoID4gMDtcbiAgcmV0dXJuIHtcbiAgICBieXRlczogbmV3IFVpbnQ4QXJyYXkoKSxcbiAgICB0eXBlOiAnJyxcbiAgICBzaG93bjogJycsXG4gICAgc2VjcmV0OiBoaWRlLFxuICAgIGFzUXVlcnk6IFtcbiAgICAgIHsgbmFtZTogJ3F1ZXJ5JywgdmFsdWU6IGRvY3VtZW50LCBzZWNyZXQ6IGZhbHNlIH0sXG4gICAgICAuLi4oaGFzVmFyaWFibGVzKHZhcmlhYmxlcykgPyBbeyBuYW1lOiAndmFyaWFibGVzJywgdmFsdWU6IHdyaXRlSnNvbih2YXJpYWJsZXMpLCBzZWNyZXQ6IGhpZGUgfV0gOiBbXSksXG4gICAgICAuLi4ob3BlcmF0aW9uID09PSB1bmRlZmluZWQgPyBbXSA6IFt7IG5hbWU6ICdvcGVyYXRpb25OYW1lJywgdmFsdWU6IG9wZXJhdGlvbiwgc2VjcmV0OiBmYWxzZSB9XSksXG4gICAgXSxcbiAgfTtcbn1cblxuaW50ZXJmYWNlIFVwbG9hZCB7XG4gIC8qKiBgdmFyaWFibGVzLnBsYW5gLCBgdmFyaWFibGVzLnBsYW5zLjBgLiAqL1xuICByZWFkb25seSBhdDogc3RyaW5nO1xuICByZWFkb25seSBuYW1lZDogc3RyaW5nO1xuICByZWFkb25seSBwYXRoOiBzdHJpbmc7XG59XG5cbi8qKiBUaGUgdmFyaWFibGVzIHdpdGggbnVsbCB3aGVyZSBhIGZpbGUgd2FzOiBge3VwbG9hZDogZGF0YS9wbGFuLnBkZn1gLiAqL1xuZnVuY3Rpb24gdGFrZUZpbGVzKHZhbHVlOiBWYWx1ZSwgYXQ6IHN0cmluZywgZmlsZXM6IFVwbG9hZFtdLCBldmFsdWF0aW9uOiBFdmFsdWF0aW9uKTogVmFsdWUge1xuICBpZiAoQXJyYXkuaXNBcnJheSh2YWx1ZSkpXG4gICAgcmV0dXJuIHZhbHVlLm1hcCgoaXRlbTogVmFsdWUsIGluZGV4KSA9PiB0YWtlRmlsZXMoaXRlbSwgYCR7YXR9LiR7aW5kZXh9YCwgZmlsZXMsIGV2YWx1YXRpb24pKTtcbiAgaWYgKCFpc1ZhbHVlTWFwKHZhbHVlKSkgcmV0dXJuIHZhbHVlO1xuICBjb25zdCBrZXlzID0gT2JqZWN0LmtleXModmFsdWUpO1xuICBpZiAoa2V5cy5sZW5ndGggPT09IDEgJiYga2V5c1swXSA9PT0gJ3VwbG9hZCcpIHtcbiAgICBjb25zdCBuYW1lZCA9IHRleHRPZih2YWx1ZS51cGxvYWQgYXMgVmFsdWUpO1xuICAgIGZpbGVzLnB1c2goeyBhdCwgbmFtZWQsIHBhdGg6IGV2YWx1YXRpb24ud29ybGQucGF0aChuYW1lZCkgfSk7XG4gICAgcmV0dXJuIG51bGw7XG4gIH1cbiAgcmV0dXJuIE9iamVjdC5mcm9tRW50cmllcyhcbiAgICBPYmplY3QuZW50cmllcyh2YWx1ZSkubWFwKChba2V5LCBpbm5lcl0pID0+IFtrZXksIHRha2VGaWxlcyhpbm5lciwgYCR7YXR9LiR7a2V5fWAsIGZpbGVzLCBldmFsdWF0aW9uKV0pLFxuICApO1xufVxuXG5mdW5jdGlvbiBhc1BhcnRzKGNhbGw6IENhbGwsIGZpbGVzOiByZWFkb25seSBVcGxvYWRbXSk6IFdpcmVCb2R5IHtcbiAgY29uc3QgdGV4dCA9IG9wZXJhdGlvbnNUZXh0KGNhbGwsIGNhbGwudmFyaWFibGVzKTtcbiAgY29uc3Qgc2hvd24gPSBjYWxsLnNlY3JldC5sZW5ndGggPiAwID8gb3BlcmF0aW9uc1RleHQoY2FsbCwgcmVwbGFjZWRBdChjYWxsLnZhcmlhYmxlcywgY2FsbC5zZWNyZXQsIGhpZGRlbikpIDogdGV4dDtcbiAgY29uc3QgbWFwID0gSlNPTi5zdHJpbmdpZnkoT2JqZWN0LmZyb21FbnRyaWVzKGZpbGVzLm1hcCgoeyBhdCB9LCBpbmRleCkgPT4gW1N0cmluZyhpbmRleCArIDEpLCBbYXRdXSkpKTtcbiAgY29uc3QgZmllbGQgPSAobmFtZTogc3RyaW5nLCBjb250ZW50OiBzdHJpbmcsIGFzU2hvd246IHN0cmluZyk6IFBhcnQgPT4gKHtcbiAgICBuYW1lLFxuICAgIGZpbGVOYW1lOiB1bmRlZmluZWQsXG4gICAgdHlwZTogdW5kZWZpbmVkLFxuICAgIGNvbnRlbnQ6IHsgYnl0ZXM6IEJ1ZmZlci5mcm9tKGNvbnRlbnQpLCBzaG93bjogYXNTaG93biB9LFxuICB9KTtcbiAgcmV0dXJuIHtcbiAgICAuLi5tdWx0aXBhcnQoW1xuICAgICAgZmllbGQoJ29wZXJhdGlvbnMnLCB0ZXh0LCBzaG93biksXG4gICAgICBmaWVsZCgnbWFwJywgbWFwLCBtYXApLFxuICAgICAgLi4uZmlsZXMubWFwKFxuICAgICAgICAoeyBuYW1lZCwgcGF0aCB9LCBpbmRleCk6IFBhcnQgPT4gKHtcbiAgICAgICAgICBuYW1lOiBTdHJpbmcoaW5kZXggKyAxKSxcbiAgICAgICAgICBmaWxlTmFtZTogYmFzZW5hbWUobmFtZWQpLFxuICAgICAgICAgIHR5cGU6IG1lZGlhVHlwZU9mKG5hbWVkKSxcbiAgICAgICAgICBjb250ZW50OiB7IHBhdGgsIG5hbWVkIH0sXG4gICAgICAgIH0pLFxuICAgICAgKSxcbiAgICBdKSxcbiAgICBzZWNyZXQ6IGNhbGwuc2VjcmV0Lmxlbmd0aCA+IDAsXG4gIH07XG59XG4iLCAiLyoqIGBwYXJ0c2A6IG11bHRpcGFydC9mb3JtLWRhdGEgKFJGQyA3NTc4KS4gVGV4dHMsIHZhbHVlcywgdGVtcGxhdGVzIGFuZCBmaWxlcywgdGhlIGZpbGVzIHN0cmVhbWVkIGZyb20gdGhlIGRpc2suICovXG5pbXBvcnQgeyByYW5kb21CeXRlcyB9IGZyb20gJ25vZGU6Y3J5cHRvJztcbmltcG9ydCB7IGNyZWF0ZVJlYWRTdHJlYW0sIHN0YXRTeW5jIH0gZnJvbSAnbm9kZTpmcyc7XG5pbXBvcnQgeyBiYXNlbmFtZSB9IGZyb20gJ25vZGU6cGF0aCc7XG5pbXBvcnQgeyBSZWFkYWJsZSB9IGZyb20gJ25vZGU6c3RyZWFtJztcbmltcG9ydCB0eXBlIHsgRXZhbHVhdGlvbiB9IGZyb20gJy4uLy4uL2V4cHJlc3Npb24vZXZhbHVhdGlvbi5qcyc7XG5pbXBvcnQgeyBvbWl0dGVkIH0gZnJvbSAnLi4vLi4vZXhwcmVzc2lvbi9ldmFsdWF0aW9uLmpzJztcbmltcG9ydCB7IGNvbXBpbGVUZW1wbGF0ZSB9IGZyb20gJy4uLy4uL2V4cHJlc3Npb24vdGVtcGxhdGUuanMnO1xuaW1wb3J0IHsgY29tcGlsZVRyZWUgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL3RyZWUuanMnO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyB3cml0ZUpzb24gfSBmcm9tICcuLi8uLi92YWx1ZS9qc29uLXRleHQuanMnO1xuaW1wb3J0IHsgc2l6ZVRleHQgfSBmcm9tICcuLi8uLi92YWx1ZS9tZWFzdXJlcy5qcyc7XG5pbXBvcnQgeyB0ZXh0T2YgfSBmcm9tICcuLi8uLi92YWx1ZS90ZXh0LmpzJztcbmltcG9ydCB7IGlzVmFsdWVNYXAsIHBsYWluLCB0eXBlIFZhbHVlIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyBoaWRkZW4sIHR5cGUgV2lyZUJvZHkgfSBmcm9tICcuLi93aXJlLmpzJztcbmltcG9ydCB0eXBlIHsgQm9keUtpbmQsIEJvZHlTZXR0aW5nIH0gZnJvbSAnLi9ib2R5LWtpbmQuanMnO1xuaW1wb3J0IHsgZmlsZVBpZWNlcyB9IGZyb20gJy4vZmlsZS1waWVjZXMuanMnO1xuaW1wb3J0IHsgbWVkaWFUeXBlT2YgfSBmcm9tICcuL21lZGlhLXR5cGUuanMnO1xuaW1wb3J0IHsgY29tcGlsZVRlbXBsYXRlRmlsZSB9IGZyb20gJy4vdGVtcGxhdGUuanMnO1xuXG4vKiogT25lIHBhcnQgbWFkZSByZWFkeS4gKi9cbmV4cG9ydCBpbnRlcmZhY2UgUGFydCB7XG4gIHJlYWRvbmx5IG5hbWU6IHN0cmluZztcbiAgLyoqIFRoZSBuYW1lIHRoYXQgdGhlIGZpbGUgaXMgZ2l2ZW47IHVuZGVmaW5lZCBmb3IgYSBwbGFpbiBmaWVsZC4gKi9cbiAgcmVhZG9ubHkgZmlsZU5hbWU6IHN0cmluZyB8IHVuZGVmaW5lZDtcbiAgLyoqIHVuZGVmaW5lZCBmb3IgYSBwbGFpbiBmaWVsZCwgd2hvc2UgdGV4dCBpcyBVVEYtOC4gKi9cbiAgcmVhZG9ubHkgdHlwZTogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSBjb250ZW50OlxuICAgIHwgeyByZWFkb25seSBieXRlczogQnVmZmVyOyByZWFkb25seSBzaG93bjogc3RyaW5nIH1cbiAgICB8IHsgcmVhZG9ubHkgcGF0aDogc3RyaW5nOyByZWFkb25seSBuYW1lZDogc3RyaW5nIH07XG59XG5cbnR5cGUgUGFydFBsYW4gPSAoZXZhbHVhdGlvbjogRXZhbHVhdGlvbikgPT4gcmVhZG9ubHkgUGFydFtdO1xuXG5leHBvcnQgY29uc3QgcGFydHM6IEJvZHlLaW5kID0ge1xuICBuYW1lOiAncGFydHMnLFxuICBhYm91dDogJ211bHRpcGFydC9mb3JtLWRhdGE6IHRleHRzLCB2YWx1ZXMsIHRlbXBsYXRlcyBhbmQgZmlsZXMnLFxuICBjb21waWxlKHNwZWMsIHNldHRpbmcpIHtcbiAgICBpZiAoIWlzVmFsdWVNYXAoc3BlYykpXG4gICAgICB0aHJvdyBuZXcgUHJvYmxlbSgnYm9keS1zaGFwZScsIHsgd2hhdDogJ3BhcnRzIGlzIGEgbWFwIG9mIG5hbWVzIGFuZCBjb250ZW50cycsIHdoZXJlOiBzZXR0aW5nLndoZXJlKFtdKSB9KTtcbiAgICBjb25zdCBwbGFucyA9IE9iamVjdC5lbnRyaWVzKHNwZWMpLm1hcCgoW25hbWUsIHZhbHVlXSkgPT4gcGxhblBhcnQobmFtZSwgdmFsdWUsIHNldHRpbmcpKTtcbiAgICByZXR1cm4gKGV2YWx1YXRpb24pID0+IHtcbiAgICAgIGNvbnN0IFtib2R5LCBzZWNyZXRdID0gZXZhbHVhdGlvbi50cmFjZWQoKCkgPT4gbXVsdGlwYXJ0KHBsYW5zLmZsYXRNYXAoKHBsYW4pID0+IHBsYW4oZXZhbHVhdGlvbikpKSk7XG4gICAgICByZXR1cm4geyAuLi5ib2R5LCBzZWNyZXQgfTtcbiAgICB9O1xuICB9LFxufTtcblxuY29uc3Qga2luZHMgPSBbJ3RleHQnLCAnZmlsZScsICd0ZW1wbGF0ZScsICdqc29uJ10gYXMgY29uc3Q7XG5cbmZ1bmN0aW9uIHBsYW5QYXJ0KG5hbWU6IHN0cmluZywgZ2l2ZW46IFZhbHVlLCBzZXR0aW5nOiBCb2R5U2V0dGluZyk6IFBhcnRQbGFuIHtcbiAgaWYgKEFycmF5LmlzQXJyYXkoZ2l2ZW4pKSB7XG4gICAgY29uc3QgZWFjaCA9IGdpdmVuLm1hcCgob25lOiBWYWx1ZSwgaW5kZXgpID0+XG4gICAgICBwbGFuUGFydChuYW1lLCBvbmUsIHsgLi4uc2V0dGluZywgd2hlcmU6IChwYXRoKSA9PiBzZXR0aW5nLndoZXJlKFtuYW1lLCBpbmRleCwgLi4ucGF0aC5zbGljZSgxKV0pIH0pLFxuICAgICk7XG4gICAgcmV0dXJuIChldmFsdWF0aW9uKSA9PiBlYWNoLmZsYXRNYXAoKHBsYW4pID0+IHBsYW4oZXZhbHVhdGlvbikpO1xuICB9XG4gIGNvbnN0IHsgd2hlcmUsIGxvYWRzIH0gPSBzZXR0aW5nO1xuICBpZiAoIWlzVmFsdWVNYXAoZ2l2ZW4pKSB7XG4gICAgY29uc3QgdHJlZSA9IGNvbXBpbGVUcmVlKGdpdmVuLCAoKSA9PiB3aGVyZShbbmFtZV0pLCBsb2Fkcyk7XG4gICAgcmV0dXJuIChldmFsdWF0aW9uKSA9PiB7XG4gICAgICBjb25zdCB2YWx1ZSA9IHRyZWUuZXZhbHVhdGUoZXZhbHVhdGlvbik7XG4gICAgICBpZiAodmFsdWUgPT09IG9taXR0ZWQpIHJldHVybiBbXTtcbiAgICAgIC8vIEEgbGlzdCBvZiB0ZXh0cyBiZWNvbWVzIGEgZmllbGQgZm9yIGVhY2guXG4gICAgICByZXR1cm4gKEFycmF5LmlzQXJyYXkodmFsdWUpID8gKHZhbHVlIGFzIHJlYWRvbmx5IFZhbHVlW10pIDogW3ZhbHVlXSkubWFwKChvbmUpID0+XG4gICAgICAgIGZpZWxkKG5hbWUsIG9uZSwgZXZhbHVhdGlvbi50b3VjaGVkU2VjcmV0KSxcbiAgICAgICk7XG4gICAgfTtcbiAgfVxuICBjb25zdCBraW5kID0ga2luZHMuZmluZCgob25lKSA9PiBPYmplY3QuaGFzT3duKGdpdmVuLCBvbmUpKTtcbiAgY29uc3QgdW5rbm93biA9IE9iamVjdC5rZXlzKGdpdmVuKS5maW5kKChrZXkpID0+IGtleSAhPT0ga2luZCAmJiBrZXkgIT09ICd0eXBlJyAmJiBrZXkgIT09ICduYW1lJyk7XG4gIGlmIChraW5kID09PSB1bmRlZmluZWQgfHwgdW5rbm93biAhPT0gdW5kZWZpbmVkKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ2JvZHktc2hhcGUnLCB7XG4gICAgICB3aGF0OiBraW5kID09PSB1bmRlZmluZWQgPyBgdGhlIHBhcnQgJHtuYW1lfSBoYXMgbm8gY29udGVudGAgOiBgdGhlIHBhcnQgJHtuYW1lfSBoYXMgYSBrZXkgJHt1bmtub3dufWAsXG4gICAgICB3aGVyZTogd2hlcmUoW25hbWUsIC4uLih1bmtub3duID09PSB1bmRlZmluZWQgPyBbXSA6IFt1bmtub3duXSldKSxcbiAgICAgIHJlbWVkeTogYG9uZSBvZiAke2tpbmRzLmpvaW4oJywgJyl9LCBhbmQgaWYgd2FudGVkIHR5cGUgYW5kIG5hbWVgLFxuICAgIH0pO1xuICB9XG4gIGNvbnN0IG9wdGlvbmFsID0gKGtleTogJ3R5cGUnIHwgJ25hbWUnKTogKChldmFsdWF0aW9uOiBFdmFsdWF0aW9uKSA9PiBzdHJpbmcgfCB1bmRlZmluZWQpID0+IHtcbiAgICBpZiAoZ2l2ZW5ba2V5XSA9PT0gdW5kZWZpbmVkKSByZXR1cm4gKCkgPT4gdW5kZWZpbmVkO1xuICAgIGNvbnN0IHRlbXBsYXRlID0gY29tcGlsZVRlbXBsYXRlKGdpdmVuW2tleV0gYXMgVmFsdWUsIHdoZXJlKFtuYW1lLCBrZXldKSwgbG9hZHMpO1xuICAgIHJldHVybiAoZXZhbHVhdGlvbikgPT4ge1xuICAgICAgY29uc3QgdmFsdWUgPSB0ZW1wbGF0ZS5ldmFsdWF0ZShldmFsdWF0aW9uKTtcbiAgICAgIHJldHVybiB2YWx1ZSA9PT0gb21pdHRlZCA/IHVuZGVmaW5lZCA6IHRleHRPZih2YWx1ZSk7XG4gICAgfTtcbiAgfTtcbiAgY29uc3QgY29udGVudCA9IGNvbnRlbnRQbGFuKGtpbmQsIGdpdmVuW2tpbmRdIGFzIFZhbHVlLCBuYW1lLCBzZXR0aW5nKTtcbiAgY29uc3QgW3R5cGUsIGZpbGVOYW1lXSA9IFtvcHRpb25hbCgndHlwZScpLCBvcHRpb25hbCgnbmFtZScpXTtcbiAgcmV0dXJuIChldmFsdWF0aW9uKSA9PiB7XG4gICAgY29uc3QgbWFkZSA9IGNvbnRlbnQoZXZhbHVhdGlvbik7XG4gICAgaWYgKCFtYWRlKSByZXR1cm4gW107XG4gICAgcmV0dXJuIFt7IC4uLm1hZGUsIG5hbWUsIHR5cGU6IHR5cGUoZXZhbHVhdGlvbikgPz8gbWFkZS50eXBlLCBmaWxlTmFtZTogZmlsZU5hbWUoZXZhbHVhdGlvbikgPz8gbWFkZS5maWxlTmFtZSB9XTtcbiAgfTtcbn1cblxuZnVuY3Rpb24gY29udGVudFBsYW4oXG4gIGtpbmQ6ICh0eXBlb2Yga2luZHMpW251bWJlcl0sXG4gIHNwZWM6IFZhbHVlLFxuICBuYW1lOiBzdHJpbmcsXG4gIHNldHRpbmc6IEJvZHlTZXR0aW5nLFxuKTogKGV2YWx1YXRpb246IEV2YWx1YXRpb24pID0+IFBhcnQgfCB1bmRlZmluZWQge1xuICBjb25zdCB7IHdoZXJlLCBsb2FkcyB9ID0gc2V0dGluZztcbiAgaWYgKGtpbmQgPT09ICd0ZW1wbGF0ZScpIHtcbiAgICBjb25zdCB0ZW1wbGF0ZSA9IGNvbXBpbGVUZW1wbGF0ZUZpbGUoc3BlYywgeyAuLi5zZXR0aW5nLCB3aGVyZTogKCkgPT4gd2hlcmUoW25hbWUsIGtpbmRdKSB9KTtcbiAgICByZXR1cm4gKGV2YWx1YXRpb24pID0+IHtcbiAgICAgIGNvbnN0IG1hZGUgPSB0ZW1wbGF0ZShldmFsdWF0aW9uKTtcbiAgICAgIHJldHVybiAoXG4gICAgICAgIG1hZGUgJiYge1xuICAgICAgICAgIG5hbWUsXG4gICAgICAgICAgZmlsZU5hbWU6IHVuZGVmaW5lZCxcbiAgICAgICAgICB0eXBlOiBtYWRlLnR5cGUsXG4gICAgICAgICAgY29udGVudDogeyBieXRlczogQnVmZmVyLmZyb20obWFkZS5ieXRlcyksIHNob3duOiBtYWRlLnNob3duIH0sXG4gICAgICAgIH1cbiAgICAgICk7XG4gICAgfTtcbiAgfVxuICBjb25zdCB0cmVlID0gY29tcGlsZVRyZWUoc3BlYywgKHBhdGgpID0+IHdoZXJlKFtuYW1lLCBraW5kLCAuLi5wYXRoXSksIGxvYWRzKTtcbiAgcmV0dXJuIChldmFsdWF0aW9uKSA9PiB7XG4gICAgY29uc3QgW3ZhbHVlLCBzZWNyZXRdID0gZXZhbHVhdGlvbi50cmFjZWQoKCkgPT4gdHJlZS5ldmFsdWF0ZShldmFsdWF0aW9uKSk7XG4gICAgaWYgKHZhbHVlID09PSBvbWl0dGVkKSByZXR1cm4gdW5kZWZpbmVkO1xuICAgIGlmIChraW5kID09PSAndGV4dCcpIHJldHVybiBmaWVsZChuYW1lLCB2YWx1ZSwgc2VjcmV0KTtcbiAgICBpZiAoa2luZCA9PT0gJ2pzb24nKSB7XG4gICAgICBjb25zdCB0ZXh0ID0gd3JpdGVKc29uKHZhbHVlKTtcbiAgICAgIHJldHVybiB7XG4gICAgICAgIG5hbWUsXG4gICAgICAgIGZpbGVOYW1lOiB1bmRlZmluZWQsXG4gICAgICAgIHR5cGU6ICdhcHBsaWNhdGlvbi9qc29uJyxcbiAgICAgICAgY29udGVudDogeyBieXRlczogQnVmZmVyLmZyb20odGV4dCksIHNob3duOiBzZWNyZXQgPyBoaWRkZW4gOiB0ZXh0IH0sXG4gICAgICB9O1xuICAgIH1cbiAgICBjb25zdCBuYW1lZCA9IHRleHRPZih2YWx1ZSk7XG4gICAgcmV0dXJuIHtcbiAgICAgIG5hbWUsXG4gICAgICBmaWxlTmFtZTogYmFzZW5hbWUobmFtZWQpLFxuICAgICAgdHlwZTogbWVkaWFUeXBlT2YobmFtZWQpLFxuICAgICAgY29udGVudDogeyBwYXRoOiBldmFsdWF0aW9uLndvcmxkLnBhdGgobmFtZWQpLCBuYW1lZCB9LFxuICAgIH07XG4gIH07XG59XG5cbmZ1bmN0aW9uIGZpZWxkKG5hbWU6IHN0cmluZywgdmFsdWU6IFZhbHVlLCBzZWNyZXQ6IGJvb2xlYW4pOiBQYXJ0IHtcbiAgaWYgKHBsYWluKHZhbHVlKSA9PT0gbnVsbCB8fCBpc1ZhbHVlTWFwKHZhbHVlKSkge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCdib2R5LXNoYXBlJywge1xuICAgICAgd2hhdDogYHRoZSBwYXJ0ICR7bmFtZX0gaXMgJHtwbGFpbih2YWx1ZSkgPT09IG51bGwgPyAnbnVsbCcgOiAnYSBtYXAnfWAsXG4gICAgICByZW1lZHk6ICcke29taXR9IGxlYXZlcyBpdCBvdXQ7IGpzb246IHNlbmRzIGEgc3RydWN0dXJlJyxcbiAgICB9KTtcbiAgfVxuICBjb25zdCB0ZXh0ID0gdGV4dE9mKHZhbHVlKTtcbiAgcmV0dXJuIHtcbiAgICBuYW1lLFxuICAgIGZpbGVOYW1lOiB1bmRlZmluZWQsXG4gICAgdHlwZTogdW5kZWZpbmVkLFxuICAgIGNvbnRlbnQ6IHsgYnl0ZXM6IEJ1ZmZlci5mcm9tKHRleHQpLCBzaG93bjogc2VjcmV0ID8gaGlkZGVuIDogdGV4dCB9LFxuICB9O1xufVxuXG4vKiogVGhlIHBhcnRzIGFzIG9uZSBib2R5OyBmaWxlcyBhcmUgb3BlbmVkIHdoZW4gaXQgaXMgc2VudCwgYW5kIGFuZXcgZm9yIGV2ZXJ5IHRyeS4gKi9cbmV4cG9ydCBmdW5jdGlvbiBtdWx0aXBhcnQoZ2l2ZW46IHJlYWRvbmx5IFBhcnRbXSk6IFdpcmVCb2R5IHtcbiAgY29uc3QgYm91bmRhcnkgPSBgcGFydC0ke3JhbmRvbUJ5dGVzKDEyKS50b1N0cmluZygnaGV4Jyl9YDtcbiAgY29uc3QgcGllY2VzOiAoQnVmZmVyIHwgeyByZWFkb25seSBwYXRoOiBzdHJpbmcgfSlbXSA9IFtdO1xuICBjb25zdCBzaG93bjogc3RyaW5nW10gPSBbXTtcbiAgbGV0IHNpemUgPSAwO1xuICBsZXQgc3RyZWFtZWQgPSBmYWxzZTtcbiAgY29uc3QgYWRkID0gKHRleHQ6IHN0cmluZyk6IHZvaWQgPT4ge1xuICAgIGNvbnN0IGJ5dGVzID0gQnVmZmVyLmZyb20odGV4dCwgJ3V0ZjgnKTtcbiAgICBwaWVjZXMucHVzaChieXRlcyk7XG4gICAgc2l6ZSArPSBieXRlcy5sZW5ndGg7XG4gICAgc2hvd24ucHVzaCh0ZXh0KTtcbiAgfTtcbiAgZm9yIChjb25zdCB7IG5hbWUsIGZpbGVOYW1lLCB0eXBlLCBjb250ZW50IH0gb2YgZ2l2ZW4pIHtcbiAgICBjb25zdCBmaWxlID0gZmlsZU5hbWUgPT09IHVuZGVmaW5lZCA/ICcnIDogYDsgZmlsZW5hbWU9XCIke3F1b3RlZE5hbWUoZmlsZU5hbWUpfVwiYDtcbiAgICBhZGQoYC0tJHtib3VuZGFyeX1cXHJcXG5Db250ZW50LURpc3Bvc2l0aW9uOiBmb3JtLWRhdGE7IG5hbWU9XCIke3F1b3RlZE5hbWUobmFtZSl9XCIke2ZpbGV9XFxyXFxuYCk7XG4gICAgYWRkKHR5cGUgPT09IHVuZGVmaW5lZCA/ICdcXHJcXG4nIDogYENvbnRlbnQtVHlwZTogJHt0eXBlfVxcclxcblxcclxcbmApO1xuICAgIGlmICgnYnl0ZXMnIGluIGNvbnRlbnQpIHtcbiAgICAgIHBpZWNlcy5wdXNoKGNvbnRlbnQuYnl0ZXMpO1xuICAgICAgc2l6ZSArPSBjb250ZW50LmJ5dGVzLmxlbmd0aDtcbiAgICAgIHNob3duLnB1c2goY29udGVudC5zaG93bik7XG4gICAgfSBlbHNlIHtcbiAgICAgIGNvbnN0IG93biA9IHN0YXRTeW5jKGNvbnRlbnQucGF0aCkuc2l6ZTtcbiAgICAgIHBpZWNlcy5wdXNoKHsgcGF0aDogY29udGVudC5wYXRoIH0pO1xuICAgICAgc2l6ZSArPSBvd247XG4gICAgICBzdHJlYW1lZCA9IHRydWU7XG4gICAgICBzaG93bi5wdXNoKGAoJHtzaXplVGV4dChvd24pfSBvZiAke2NvbnRlbnQubmFtZWR9KWApO1xuICAgIH1cbiAgICBhZGQoJ1xcclxcbicpO1xuICB9XG4gIGFkZChgLS0ke2JvdW5kYXJ5fS0tXFxyXFxuYCk7XG4gIGNvbnN0IHdob2xlID0gc3RyZWFtZWQgPyBuZXcgVWludDhBcnJheSgpIDogQnVmZmVyLmNvbmNhdChwaWVjZXMgYXMgQnVmZmVyW10pO1xuICByZXR1cm4ge1xuICAgIGJ5dGVzOiB3aG9sZSxcbiAgICAuLi4oc3RyZWFtZWQgJiYge1xuICAgICAgc3RyZWFtZWQ6IHtcbiAgICAgICAgc2l6ZSxcbiAgICAgICAgb3BlbjogKCkgPT4gUmVhZGFibGUuZnJvbShieXRlc09mKHBpZWNlcyksIHsgb2JqZWN0TW9kZTogZmFsc2UgfSksXG4gICAgICAgIHBpZWNlczogKCkgPT4gYWxsUGllY2VzKHBpZWNlcyksXG4gICAgICB9LFxuICAgIH0pLFxuICAgIHR5cGU6IGBtdWx0aXBhcnQvZm9ybS1kYXRhOyBib3VuZGFyeT0ke2JvdW5kYXJ5fWAsXG4gICAgc2hvd246IHNob3duLmpvaW4oJycpLFxuICAgIHNlY3JldDogZmFsc2UsXG4gIH07XG59XG5cbmFzeW5jIGZ1bmN0aW9uKiBieXRlc09mKHBpZWNlczogcmVhZG9ubHkgKEJ1ZmZlciB8IHsgcmVhZG9ubHkgcGF0aDogc3RyaW5nIH0pW10pOiBBc3luY0dlbmVyYXRvcjxVaW50OEFycmF5PiB7XG4gIGZvciAoY29uc3QgcGllY2Ugb2YgcGllY2VzKSB7XG4gICAgaWYgKCdwYXRoJyBpbiBwaWVjZSkgeWllbGQqIGNyZWF0ZVJlYWRTdHJlYW0ocGllY2UucGF0aCk7XG4gICAgZWxzZSB5aWVsZCBwaWVjZTtcbiAgfVxufVxuXG5mdW5jdGlvbiogYWxsUGllY2VzKHBpZWNlczogcmVhZG9ubHkgKEJ1ZmZlciB8IHsgcmVhZG9ubHkgcGF0aDogc3RyaW5nIH0pW10pOiBHZW5lcmF0b3I8VWludDhBcnJheT4ge1xuICBmb3IgKGNvbnN0IHBpZWNlIG9mIHBpZWNlcykge1xuICAgIGlmICgncGF0aCcgaW4gcGllY2UpIHlpZWxkKiBmaWxlUGllY2VzKHBpZWNlLnBhdGgpO1xuICAgIGVsc2UgeWllbGQgcGllY2U7XG4gIH1cbn1cblxuLyoqIEEgbmFtZSBpbnNpZGUgcXVvdGVzIChSRkMgNzU3OCwgc2VjdGlvbiA1LjE7IFdIQVRXRyBIVE1MLCBtdWx0aXBhcnQgZm9ybSBkYXRhKS4gKi9cbmNvbnN0IHF1b3RlZE5hbWUgPSAobmFtZTogc3RyaW5nKTogc3RyaW5nID0+XG4gIG5hbWUucmVwbGFjZUFsbCgnXCInLCAnJTIyJykucmVwbGFjZUFsbCgnXFxyJywgJyUwRCcpLnJlcGxhY2VBbGwoJ1xcbicsICclMEEnKTtcbiIsICIvKiogYHhtbGA6IHRleHQgd2l0aCB2YWx1ZXMgaW4gaXQsIGVhY2ggZXNjYXBlZCBzbyB0aGF0IGl0IHN0YXlzIHRleHQgKFhNTCAxLjAsIHNlY3Rpb24gMi40KS4gKi9cbmltcG9ydCB7IHR5cGUgRXZhbHVhdGlvbiwgb21pdHRlZCB9IGZyb20gJy4uLy4uL2V4cHJlc3Npb24vZXZhbHVhdGlvbi5qcyc7XG5pbXBvcnQgeyBjb21waWxlVGVtcGxhdGUgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL3RlbXBsYXRlLmpzJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgdGV4dE9mIH0gZnJvbSAnLi4vLi4vdmFsdWUvdGV4dC5qcyc7XG5pbXBvcnQgdHlwZSB7IFZhbHVlIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyBoaWRkZW4gfSBmcm9tICcuLi93aXJlLmpzJztcbmltcG9ydCB0eXBlIHsgQm9keUtpbmQsIEJvZHlTZXR0aW5nIH0gZnJvbSAnLi9ib2R5LWtpbmQuanMnO1xuXG5leHBvcnQgY29uc3QgeG1sOiBCb2R5S2luZCA9IHtcbiAgbmFtZTogJ3htbCcsXG4gIGFib3V0OiAnWE1MIHRleHQ7IHRoZSB2YWx1ZXMgaW4gaXQgYXJlIGVzY2FwZWQnLFxuICBjb21waWxlKHNwZWMsIHNldHRpbmcpIHtcbiAgICBjb25zdCB0ZXh0ID0gY29tcGlsZVhtbChzcGVjLCBzZXR0aW5nKTtcbiAgICByZXR1cm4gKGV2YWx1YXRpb24pID0+ICh7IC4uLnRleHQoZXZhbHVhdGlvbiksIHR5cGU6ICdhcHBsaWNhdGlvbi94bWw7IGNoYXJzZXQ9dXRmLTgnIH0pO1xuICB9LFxufTtcblxuZXhwb3J0IGludGVyZmFjZSBYbWxUZXh0IHtcbiAgcmVhZG9ubHkgYnl0ZXM6IFVpbnQ4QXJyYXk7XG4gIHJlYWRvbmx5IHNob3duOiBzdHJpbmc7XG4gIHJlYWRvbmx5IHNlY3JldDogYm9vbGVhbjtcbn1cblxuLyoqIFN0YW5kcyB3aGVyZSBhIHZhbHVlIGlzIGxlZnQgb3V0OyBubyBkb2N1bWVudCBtYXkgaG9sZCBpdCAoWE1MIDEuMCwgc2VjdGlvbiAyLjIpLiAqL1xuY29uc3QgZ2FwID0gJ1xcdUZGRkYnO1xuXG4vKiogQHBhcmFtIHNldHRpbmcgYHdoZXJlYCBpcyB0aGUgcG9zaXRpb24gb2YgdGhlIHRleHQgaW4gaXRzIGZpbGUgKi9cbmV4cG9ydCBmdW5jdGlvbiBjb21waWxlWG1sKFxuICBzcGVjOiBWYWx1ZSxcbiAgeyB3aGVyZSwgbG9hZHMgfTogUGljazxCb2R5U2V0dGluZywgJ3doZXJlJyB8ICdsb2Fkcyc+LFxuKTogKGV2YWx1YXRpb246IEV2YWx1YXRpb24pID0+IFhtbFRleHQge1xuICBjb25zdCB0ZW1wbGF0ZSA9IGNvbXBpbGVUZW1wbGF0ZShzcGVjLCB3aGVyZShbXSksIGxvYWRzLCB7IGFzVGV4dDogaW5zZXJ0ZWQsIG9taXR0ZWQ6IGdhcCB9KTtcbiAgcmV0dXJuIChldmFsdWF0aW9uKSA9PiB7XG4gICAgY29uc3QgW3ZhbHVlLCBzZWNyZXRdID0gZXZhbHVhdGlvbi50cmFjZWQoKCkgPT4gdGVtcGxhdGUuZXZhbHVhdGUoZXZhbHVhdGlvbikpO1xuICAgIGNvbnN0IHNlbnQgPSB2YWx1ZSA9PT0gb21pdHRlZCA/IGdhcCA6IHdpdGhvdXRHYXBzKHRleHRPZih2YWx1ZSkpO1xuICAgIGlmIChzZW50LmluY2x1ZGVzKGdhcCkpIHtcbiAgICAgIHRocm93IG5ldyBQcm9ibGVtKCdib2R5LXNoYXBlJywge1xuICAgICAgICB3aGF0OiAnYSB2YWx1ZSB0aGF0IGlzIG9taXR0ZWQgc3RhbmRzIGluIG5vIGVsZW1lbnQgdGhhdCBjb3VsZCBiZSBsZWZ0IG91dCcsXG4gICAgICAgIHdoZXJlOiB3aGVyZShbXSksXG4gICAgICAgIHJlbWVkeTpcbiAgICAgICAgICAndGhlIGVsZW1lbnQgdGhhdCBpcyB0byB2YW5pc2ggaG9sZHMgbm90aGluZyBidXQgdGV4dCBhbmQgdGhlIHZhbHVlOiA8cmVtYXJrcz4ke3JlbWFya3MgPz8gb21pdH08L3JlbWFya3M+JyxcbiAgICAgIH0pO1xuICAgIH1cbiAgICByZXR1cm4geyBieXRlczogQnVmZmVyLmZyb20oc2VudCwgJ3V0ZjgnKSwgc2hvd246IHNlY3JldCA/IGhpZGRlbiA6IHNlbnQsIHNlY3JldCB9O1xuICB9O1xufVxuXG4vKiogQSB2YWx1ZSB3aGVyZSBpdCBzdGFuZHM6IGEgbmFtZSBiZWhpbmQgYDxgLCBtYXJrdXAgd2hlcmUgYSB0ZW1wbGF0ZSB3YXMgcmVuZGVyZWQsIGVsc2UgdGV4dC4gKi9cbmZ1bmN0aW9uIGluc2VydGVkKHRleHQ6IHN0cmluZywgYmVmb3JlOiBzdHJpbmcsIGV4cHJlc3Npb246IHN0cmluZyk6IHN0cmluZyB7XG4gIGlmICgvPFxcLz8oPzpbXFxwe0x9X11bXFxwe0x9XFxwe059Ll8tXSo6KT8kL3UudGVzdChiZWZvcmUpKSB7XG4gICAgaWYgKC9eW1xccHtMfV9dW1xccHtMfVxccHtOfS5fLV0qJC91LnRlc3QodGV4dCkpIHJldHVybiB0ZXh0O1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCdib2R5LXNoYXBlJywge1xuICAgICAgd2hhdDogYCR7SlNPTi5zdHJpbmdpZnkodGV4dCl9IGNhbm5vdCBiZSB0aGUgbmFtZSBvZiBhbiBlbGVtZW50YCxcbiAgICAgIHJlbWVkeTogJ2EgbmFtZSBiZWdpbnMgd2l0aCBhIGxldHRlciwgYW5kIGhvbGRzIGxldHRlcnMsIGRpZ2l0cywgZG90cyBhbmQgZGFzaGVzIChYTUwgMS4wLCBzZWN0aW9uIDIuMyknLFxuICAgIH0pO1xuICB9XG4gIHJldHVybiAvXFxicmVuZGVyKD86LWVhY2gpP1xccypcXCgvLnRlc3QoZXhwcmVzc2lvbikgPyB0ZXh0IDogZXNjYXBlZCh0ZXh0KTtcbn1cblxuLyoqIEF0dHJpYnV0ZXMgYW5kIHRoZSBzbWFsbGVzdCBlbGVtZW50cyB3aXRoIGEgZ2FwIGFyZSBsZWZ0IG91dCwgYW5kIHRoZSBsaW5lIHRoYXQgdGhleSBhbG9uZSBzdG9vZCBvbi4gKi9cbmZ1bmN0aW9uIHdpdGhvdXRHYXBzKHRleHQ6IHN0cmluZyk6IHN0cmluZyB7XG4gIGlmICghdGV4dC5pbmNsdWRlcyhnYXApKSByZXR1cm4gdGV4dDtcbiAgY29uc3QgYXR0cmlidXRlID0gbmV3IFJlZ0V4cChgXFxcXHMrW15cXFxccz08PlwiJ10rXFxcXHMqPVxcXFxzKig/OlwiW15cIjxdKiR7Z2FwfVteXCI8XSpcInwnW14nPF0qJHtnYXB9W14nPF0qJylgLCAnZycpO1xuICBjb25zdCBlbGVtZW50ID0gbmV3IFJlZ0V4cChgKFxcXFxuWyBcXFxcdF0qKT88KFteXFxcXHM8Pi8hP10rKSg/OlxcXFxzW148Pl0qKT8+W148PiR7Z2FwfV0qJHtnYXB9W148Pl0qPC9cXFxcMlxcXFxzKj5gLCAnZycpO1xuICByZXR1cm4gdGV4dC5yZXBsYWNlKGF0dHJpYnV0ZSwgJycpLnJlcGxhY2UoZWxlbWVudCwgJycpO1xufVxuXG4vKiogRm9yIHRleHQgYW5kIGZvciBhdHRyaWJ1dGUgdmFsdWVzIGluIGVpdGhlciBraW5kIG9mIHF1b3RlczsgYSBsaW5lIGJyZWFrIGluIGFuIGF0dHJpYnV0ZSB3b3VsZCBiZWNvbWUgYSBzcGFjZS4gKi9cbmZ1bmN0aW9uIGVzY2FwZWQodGV4dDogc3RyaW5nKTogc3RyaW5nIHtcbiAgcmV0dXJuIHRleHRcbiAgICAucmVwbGFjZUFsbCgnJicsICcmYW1wOycpXG4gICAgLnJlcGxhY2VBbGwoJzwnLCAnJmx0OycpXG4gICAgLnJlcGxhY2VBbGwoJz4nLCAnJmd0OycpXG4gICAgLnJlcGxhY2VBbGwoJ1wiJywgJyZxdW90OycpXG4gICAgLnJlcGxhY2VBbGwoXCInXCIsICcmYXBvczsnKVxuICAgIC5yZXBsYWNlQWxsKCdcXHInLCAnJiMxMzsnKTtcbn1cbiIsICIvKiogYHRlbXBsYXRlYDogYSBmaWxlIGluIGBib2RpZXMvYCB3aXRoIGAke1x1MjAyNn1gIGluIGl0LiBKU09OIGtlZXBzIHRoZSB0eXBlcyBvZiB2YWx1ZXMsIFhNTCBlc2NhcGVzIHRoZW0sIG90aGVyIHRleHQgdGFrZXMgdGhlbSBhcyB0aGV5IGFyZS4gKi9cbmltcG9ydCB7IG9taXR0ZWQgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL2V2YWx1YXRpb24uanMnO1xuaW1wb3J0IHsgY29tcGlsZVRlbXBsYXRlIH0gZnJvbSAnLi4vLi4vZXhwcmVzc2lvbi90ZW1wbGF0ZS5qcyc7XG5pbXBvcnQgeyBjb21waWxlVHJlZSB9IGZyb20gJy4uLy4uL2V4cHJlc3Npb24vdHJlZS5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHdyaXRlSnNvbiB9IGZyb20gJy4uLy4uL3ZhbHVlL2pzb24tdGV4dC5qcyc7XG5pbXBvcnQgeyB0ZXh0T2YgfSBmcm9tICcuLi8uLi92YWx1ZS90ZXh0LmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUgfSBmcm9tICcuLi8uLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB7IGhpZGRlbiwgdHlwZSBXaXJlQm9keSB9IGZyb20gJy4uL3dpcmUuanMnO1xuaW1wb3J0IHR5cGUgeyBCb2R5S2luZCwgQm9keVBsYW4sIEJvZHlTZXR0aW5nIH0gZnJvbSAnLi9ib2R5LWtpbmQuanMnO1xuaW1wb3J0IHsgbWVkaWFUeXBlT2YgfSBmcm9tICcuL21lZGlhLXR5cGUuanMnO1xuaW1wb3J0IHsgY29tcGlsZVhtbCB9IGZyb20gJy4veG1sLmpzJztcblxuZXhwb3J0IGNvbnN0IHRlbXBsYXRlOiBCb2R5S2luZCA9IHtcbiAgbmFtZTogJ3RlbXBsYXRlJyxcbiAgYWJvdXQ6ICdhIGZpbGUgaW4gYm9kaWVzLywgd2l0aCB2YWx1ZXMgcHV0IGluJyxcbiAgY29tcGlsZTogY29tcGlsZVRlbXBsYXRlRmlsZSxcbn07XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gYm9keS1zaGFwZTogdGhlIG5hbWUgaXMgbm8gcGxhaW4gcGF0aCwgb3IgdGhlIGZpbGUgaXMgbm8gSlNPTiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGNvbXBpbGVUZW1wbGF0ZUZpbGUoc3BlYzogVmFsdWUsIHNldHRpbmc6IE9taXQ8Qm9keVNldHRpbmcsICdtZXRob2QnPik6IEJvZHlQbGFuIHtcbiAgY29uc3QgeyB3aGVyZSwgcmVhZCB9ID0gc2V0dGluZztcbiAgaWYgKHR5cGVvZiBzcGVjICE9PSAnc3RyaW5nJyB8fCBzcGVjLmluY2x1ZGVzKCckeycpKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ2JvZHktc2hhcGUnLCB7XG4gICAgICB3aGF0OiAnYSB0ZW1wbGF0ZSBpcyB0aGUgcGF0aCBvZiBhIGZpbGUgaW4gdGhlIGNvbGxlY3Rpb24sIHN1Y2ggYXMgYm9kaWVzL21hbmlmZXN0LnhtbCcsXG4gICAgICB3aGVyZTogd2hlcmUoW10pLFxuICAgIH0pO1xuICB9XG4gIGxldCB0ZXh0OiBzdHJpbmc7XG4gIHRyeSB7XG4gICAgdGV4dCA9IHJlYWQoc3BlYykucmVwbGFjZSgvXlxcdUZFRkYvLCAnJyk7XG4gIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgdGhyb3cgZXJyb3IgaW5zdGFuY2VvZiBQcm9ibGVtID8gZXJyb3IuYXQod2hlcmUoW10pKSA6IGVycm9yO1xuICB9XG4gIHJldHVybiBjb21waWxlVGVtcGxhdGVUZXh0KHRleHQsIHNwZWMsIHNldHRpbmcubG9hZHMpO1xufVxuXG4vKiogQHBhcmFtIGZpbGUgdGhlIHBhdGggZnJvbSB0aGUgY29sbGVjdGlvbiwgZm9yIG1lc3NhZ2VzOyBpdHMgZW5kaW5nIHRlbGxzIHdoYXQgdGhlIHRleHQgaXMgKi9cbmV4cG9ydCBmdW5jdGlvbiBjb21waWxlVGVtcGxhdGVUZXh0KHRleHQ6IHN0cmluZywgZmlsZTogc3RyaW5nLCBsb2FkczogQm9keVNldHRpbmdbJ2xvYWRzJ10pOiBCb2R5UGxhbiB7XG4gIGNvbnN0IHR5cGUgPSBtZWRpYVR5cGVPZihmaWxlKTtcbiAgY29uc3QgcGxhY2UgPSAoKTogeyBmaWxlOiBzdHJpbmcgfSA9PiAoeyBmaWxlIH0pO1xuICBpZiAoL1svK11qc29uJC8udGVzdCh0eXBlKSkge1xuICAgIGNvbnN0IHRyZWUgPSBjb21waWxlVHJlZShqc29uSW4odGV4dCwgZmlsZSksIHBsYWNlLCBsb2Fkcyk7XG4gICAgcmV0dXJuIChldmFsdWF0aW9uKSA9PiB7XG4gICAgICBjb25zdCBbdmFsdWUsIHNlY3JldF0gPSBldmFsdWF0aW9uLnRyYWNlZCgoKSA9PiB0cmVlLmV2YWx1YXRlKGV2YWx1YXRpb24pKTtcbiAgICAgIHJldHVybiB2YWx1ZSA9PT0gb21pdHRlZCA/IHVuZGVmaW5lZCA6IGJvZHkod3JpdGVKc29uKHZhbHVlKSwgdHlwZSwgc2VjcmV0KTtcbiAgICB9O1xuICB9XG4gIGlmICgvWy8rXXhtbCQvLnRlc3QodHlwZSkpIHtcbiAgICBjb25zdCB4bWwgPSBjb21waWxlWG1sKHRleHQsIHsgd2hlcmU6IHBsYWNlLCBsb2FkcyB9KTtcbiAgICByZXR1cm4gKGV2YWx1YXRpb24pID0+ICh7IC4uLnhtbChldmFsdWF0aW9uKSwgdHlwZTogYCR7dHlwZX07IGNoYXJzZXQ9dXRmLThgIH0pO1xuICB9XG4gIGNvbnN0IHBsYWluID0gY29tcGlsZVRlbXBsYXRlKHRleHQsIHBsYWNlKCksIGxvYWRzKTtcbiAgcmV0dXJuIChldmFsdWF0aW9uKSA9PiB7XG4gICAgY29uc3QgW3ZhbHVlLCBzZWNyZXRdID0gZXZhbHVhdGlvbi50cmFjZWQoKCkgPT4gcGxhaW4uZXZhbHVhdGUoZXZhbHVhdGlvbikpO1xuICAgIHJldHVybiB2YWx1ZSA9PT0gb21pdHRlZCA/IHVuZGVmaW5lZCA6IGJvZHkodGV4dE9mKHZhbHVlKSwgdHlwZSwgc2VjcmV0KTtcbiAgfTtcbn1cblxuY29uc3QgYm9keSA9ICh0ZXh0OiBzdHJpbmcsIHR5cGU6IHN0cmluZywgc2VjcmV0OiBib29sZWFuKTogV2lyZUJvZHkgPT4gKHtcbiAgYnl0ZXM6IEJ1ZmZlci5mcm9tKHRleHQsICd1dGY4JyksXG4gIHR5cGUsXG4gIHNob3duOiBzZWNyZXQgPyBoaWRkZW4gOiB0ZXh0LFxuICBzZWNyZXQsXG59KTtcblxuZnVuY3Rpb24ganNvbkluKHRleHQ6IHN0cmluZywgZmlsZTogc3RyaW5nKTogVmFsdWUge1xuICB0cnkge1xuICAgIHJldHVybiBKU09OLnBhcnNlKHRleHQpIGFzIFZhbHVlO1xuICB9IGNhdGNoIChlcnJvcikge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCdib2R5LXNoYXBlJywge1xuICAgICAgd2hhdDogYCR7ZmlsZX0gaXMgbm90IEpTT05gLFxuICAgICAgd2hlcmU6IHsgZmlsZSB9LFxuICAgICAgY2F1c2U6IChlcnJvciBhcyBFcnJvcikubWVzc2FnZSxcbiAgICAgIHJlbWVkeTogJ2FuIGV4cHJlc3Npb24gc3RhbmRzIGluc2lkZSBxdW90ZXM6IFwiJHtuaWdodHN9XCIga2VlcHMgdGhlIHR5cGUgb2YgaXRzIHZhbHVlJyxcbiAgICB9KTtcbiAgfVxufVxuIiwgIi8qKiBganNvbmA6IGFueSB2YWx1ZSBhcyBKU09OIChSRkMgODI1OSk7IG51bWJlcnMga2VlcCB0aGVpciBkaWdpdHMuICovXG5pbXBvcnQgeyBvbWl0dGVkIH0gZnJvbSAnLi4vLi4vZXhwcmVzc2lvbi9ldmFsdWF0aW9uLmpzJztcbmltcG9ydCB7IGNvbXBpbGVUcmVlLCByZXBsYWNlZEF0LCB0eXBlIFNlY3JldFRyYWNlIH0gZnJvbSAnLi4vLi4vZXhwcmVzc2lvbi90cmVlLmpzJztcbmltcG9ydCB7IHdyaXRlSnNvbiB9IGZyb20gJy4uLy4uL3ZhbHVlL2pzb24tdGV4dC5qcyc7XG5pbXBvcnQgeyBoaWRkZW4gfSBmcm9tICcuLi93aXJlLmpzJztcbmltcG9ydCB0eXBlIHsgQm9keUtpbmQgfSBmcm9tICcuL2JvZHkta2luZC5qcyc7XG5cbmV4cG9ydCBjb25zdCBqc29uOiBCb2R5S2luZCA9IHtcbiAgbmFtZTogJ2pzb24nLFxuICBhYm91dDogJ2FueSB2YWx1ZSwgc2VudCBhcyBKU09OOyBudW1iZXJzIHN0YXkgbnVtYmVycyBhbmQga2VlcCB0aGVpciBkaWdpdHMnLFxuICBjb21waWxlKHNwZWMsIHsgd2hlcmUsIGxvYWRzIH0pIHtcbiAgICBjb25zdCB0cmVlID0gY29tcGlsZVRyZWUoc3BlYywgd2hlcmUsIGxvYWRzKTtcbiAgICByZXR1cm4gKGV2YWx1YXRpb24pID0+IHtcbiAgICAgIGNvbnN0IHRyYWNlOiBTZWNyZXRUcmFjZSA9IHsgcGF0aDogW10sIHNlY3JldDogW10gfTtcbiAgICAgIGNvbnN0IHZhbHVlID0gdHJlZS5ldmFsdWF0ZShldmFsdWF0aW9uLCB0cmFjZSk7XG4gICAgICBpZiAodmFsdWUgPT09IG9taXR0ZWQpIHJldHVybiB1bmRlZmluZWQ7XG4gICAgICBjb25zdCB0ZXh0ID0gd3JpdGVKc29uKHZhbHVlKTtcbiAgICAgIGNvbnN0IHNlY3JldCA9IHRyYWNlLnNlY3JldC5sZW5ndGggPiAwO1xuICAgICAgcmV0dXJuIHtcbiAgICAgICAgYnl0ZXM6IEJ1ZmZlci5mcm9tKHRleHQsICd1dGY4JyksXG4gICAgICAgIHR5cGU6ICdhcHBsaWNhdGlvbi9qc29uJyxcbiAgICAgICAgc2hvd246IHNlY3JldCA/IHdyaXRlSnNvbihyZXBsYWNlZEF0KHZhbHVlLCB0cmFjZS5zZWNyZXQsIGhpZGRlbikpIDogdGV4dCxcbiAgICAgICAgc2VjcmV0LFxuICAgICAgfTtcbiAgICB9O1xuICB9LFxufTtcbiIsICIvKiogYHNvYXBgOiBhbiBlbnZlbG9wZSwgd2l0aCB0aGUgY29udGVudCB0eXBlIGFuZCB0aGUgYWN0aW9uIHdoZXJlIGl0cyB2ZXJzaW9uIHdhbnRzIHRoZW0gKFNPQVAgMS4xIHNlY3Rpb24gNiwgU09BUCAxLjIgcGFydCAyIHNlY3Rpb24gNykuICovXG5pbXBvcnQgdHlwZSB7IEV2YWx1YXRpb24gfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL2V2YWx1YXRpb24uanMnO1xuaW1wb3J0IHR5cGUgeyBWYWx1ZSB9IGZyb20gJy4uLy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHR5cGUgeyBXaXJlQm9keSB9IGZyb20gJy4uL3dpcmUuanMnO1xuaW1wb3J0IHR5cGUgeyBCb2R5S2luZCwgQm9keVNldHRpbmcgfSBmcm9tICcuL2JvZHkta2luZC5qcyc7XG5pbXBvcnQgeyBjb21waWxlVGVtcGxhdGVGaWxlIH0gZnJvbSAnLi90ZW1wbGF0ZS5qcyc7XG5pbXBvcnQgeyBjb21waWxlWG1sLCB0eXBlIFhtbFRleHQgfSBmcm9tICcuL3htbC5qcyc7XG5cbmV4cG9ydCBjb25zdCBzb2FwOiBCb2R5S2luZCA9IHtcbiAgbmFtZTogJ3NvYXAnLFxuICBhYm91dDogJ2EgU09BUCBlbnZlbG9wZTsgdGhlIGFjdGlvbiBhbmQgdGhlIGNvbnRlbnQgdHlwZSBmb2xsb3cgZnJvbSB0aGUgdmVyc2lvbicsXG4gIGNvbXBpbGUoc3BlYywgc2V0dGluZykge1xuICAgIGNvbnN0IHsgZW52ZWxvcGUsIHZlcnNpb24gPSAnMS4xJywgYWN0aW9uIH0gPSBzcGVjIGFzIHsgZW52ZWxvcGU6IFZhbHVlOyB2ZXJzaW9uPzogJzEuMScgfCAnMS4yJzsgYWN0aW9uPzogc3RyaW5nIH07XG4gICAgY29uc3QgdGV4dCA9IGVudmVsb3BlT2YoZW52ZWxvcGUsIHNldHRpbmcpO1xuICAgIC8vIFRoZSBxdW90ZXMgYmVsb25nIHRvIHRoZSB2YWx1ZSBvZiB0aGUgaGVhZGVyLlxuICAgIGNvbnN0IHF1b3RlZCA9IGBcIiR7KGFjdGlvbiA/PyAnJykucmVwbGFjZSgvXlwifFwiJC9nLCAnJyl9XCJgO1xuICAgIGlmICh2ZXJzaW9uID09PSAnMS4yJykge1xuICAgICAgY29uc3QgcGFyYW1ldGVyID0gYWN0aW9uID09PSB1bmRlZmluZWQgPyAnJyA6IGA7IGFjdGlvbj0ke3F1b3RlZH1gO1xuICAgICAgcmV0dXJuIChldmFsdWF0aW9uKSA9PiAoeyAuLi50ZXh0KGV2YWx1YXRpb24pLCB0eXBlOiBgYXBwbGljYXRpb24vc29hcCt4bWw7IGNoYXJzZXQ9dXRmLTgke3BhcmFtZXRlcn1gIH0pO1xuICAgIH1cbiAgICBjb25zdCBoZWFkZXJzID0gW3sgbmFtZTogJ1NPQVBBY3Rpb24nLCB2YWx1ZTogcXVvdGVkIH1dO1xuICAgIHJldHVybiAoZXZhbHVhdGlvbikgPT4gKHsgLi4udGV4dChldmFsdWF0aW9uKSwgdHlwZTogJ3RleHQveG1sOyBjaGFyc2V0PXV0Zi04JywgaGVhZGVycyB9KTtcbiAgfSxcbn07XG5cbi8qKiBJbiB0aGUgcmVxdWVzdCBmaWxlIGl0c2VsZiwgb3IgdGhlIHBhdGggb2YgYSBmaWxlIHN1Y2ggYXMgYGJvZGllcy9kZWNsYXJlLnhtbGAuICovXG5mdW5jdGlvbiBlbnZlbG9wZU9mKGVudmVsb3BlOiBWYWx1ZSwgc2V0dGluZzogQm9keVNldHRpbmcpOiAoZXZhbHVhdGlvbjogRXZhbHVhdGlvbikgPT4gWG1sVGV4dCB7XG4gIGNvbnN0IHsgd2hlcmUgfSA9IHNldHRpbmc7XG4gIGNvbnN0IG93biA9IHsgLi4uc2V0dGluZywgd2hlcmU6ICgpID0+IHdoZXJlKFsnZW52ZWxvcGUnXSkgfTtcbiAgaWYgKHR5cGVvZiBlbnZlbG9wZSAhPT0gJ3N0cmluZycgfHwgIS9eW15cXHM8PiRdK1xcLnhtbCQvLnRlc3QoZW52ZWxvcGUudHJpbSgpKSkgcmV0dXJuIGNvbXBpbGVYbWwoZW52ZWxvcGUsIG93bik7XG4gIGNvbnN0IGZpbGUgPSBjb21waWxlVGVtcGxhdGVGaWxlKGVudmVsb3BlLnRyaW0oKSwgb3duKTtcbiAgcmV0dXJuIChldmFsdWF0aW9uKSA9PiBmaWxlKGV2YWx1YXRpb24pIGFzIFdpcmVCb2R5O1xufVxuIiwgIi8qKiBgdGV4dGA6IHRleHQgYXMgaXQgc3RhbmRzLCBpbiBVVEYtOC4gKi9cbmltcG9ydCB7IG9taXR0ZWQgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL2V2YWx1YXRpb24uanMnO1xuaW1wb3J0IHsgY29tcGlsZVRlbXBsYXRlIH0gZnJvbSAnLi4vLi4vZXhwcmVzc2lvbi90ZW1wbGF0ZS5qcyc7XG5pbXBvcnQgeyB0ZXh0T2YgfSBmcm9tICcuLi8uLi92YWx1ZS90ZXh0LmpzJztcbmltcG9ydCB7IGhpZGRlbiB9IGZyb20gJy4uL3dpcmUuanMnO1xuaW1wb3J0IHR5cGUgeyBCb2R5S2luZCB9IGZyb20gJy4vYm9keS1raW5kLmpzJztcblxuZXhwb3J0IGNvbnN0IHRleHQ6IEJvZHlLaW5kID0ge1xuICBuYW1lOiAndGV4dCcsXG4gIGFib3V0OiAndGV4dCBhcyBpdCBzdGFuZHMsIHNlbnQgYXMgVVRGLTgnLFxuICBjb21waWxlKHNwZWMsIHsgd2hlcmUsIGxvYWRzIH0pIHtcbiAgICBjb25zdCB0ZW1wbGF0ZSA9IGNvbXBpbGVUZW1wbGF0ZShzcGVjLCB3aGVyZShbXSksIGxvYWRzKTtcbiAgICByZXR1cm4gKGV2YWx1YXRpb24pID0+IHtcbiAgICAgIGNvbnN0IFt2YWx1ZSwgc2VjcmV0XSA9IGV2YWx1YXRpb24udHJhY2VkKCgpID0+IHRlbXBsYXRlLmV2YWx1YXRlKGV2YWx1YXRpb24pKTtcbiAgICAgIGlmICh2YWx1ZSA9PT0gb21pdHRlZCkgcmV0dXJuIHVuZGVmaW5lZDtcbiAgICAgIGNvbnN0IHNlbnQgPSB0ZXh0T2YodmFsdWUpO1xuICAgICAgcmV0dXJuIHtcbiAgICAgICAgYnl0ZXM6IEJ1ZmZlci5mcm9tKHNlbnQsICd1dGY4JyksXG4gICAgICAgIHR5cGU6ICd0ZXh0L3BsYWluOyBjaGFyc2V0PXV0Zi04JyxcbiAgICAgICAgc2hvd246IHNlY3JldCA/IGhpZGRlbiA6IHNlbnQsXG4gICAgICAgIHNlY3JldCxcbiAgICAgIH07XG4gICAgfTtcbiAgfSxcbn07XG4iLCAiLyoqIEFsbCBraW5kcyBvZiBib2RpZXMuIEEgbmV3IG9uZSBpcyBvbmUgZmlsZSwgb25lIGxpbmUgaGVyZSwgYW5kIGl0cyBrZXkgaW4gdGhlIHJlcXVlc3QgZmlsZSdzIHNjaGVtYS4gKi9cbmltcG9ydCB0eXBlIHsgQm9keUtpbmQgfSBmcm9tICcuL2JvZHkta2luZC5qcyc7XG5pbXBvcnQgeyBmaWxlIH0gZnJvbSAnLi9maWxlLmpzJztcbmltcG9ydCB7IGZvcm0gfSBmcm9tICcuL2Zvcm0uanMnO1xuaW1wb3J0IHsgZ3JhcGhxbCB9IGZyb20gJy4vZ3JhcGhxbC5qcyc7XG5pbXBvcnQgeyBqc29uIH0gZnJvbSAnLi9qc29uLmpzJztcbmltcG9ydCB7IHBhcnRzIH0gZnJvbSAnLi9wYXJ0cy5qcyc7XG5pbXBvcnQgeyBzb2FwIH0gZnJvbSAnLi9zb2FwLmpzJztcbmltcG9ydCB7IHRlbXBsYXRlIH0gZnJvbSAnLi90ZW1wbGF0ZS5qcyc7XG5pbXBvcnQgeyB0ZXh0IH0gZnJvbSAnLi90ZXh0LmpzJztcbmltcG9ydCB7IHhtbCB9IGZyb20gJy4veG1sLmpzJztcblxuZXhwb3J0IGNvbnN0IGJvZHlLaW5kczogUmVhZG9ubHlNYXA8c3RyaW5nLCBCb2R5S2luZD4gPSBuZXcgTWFwKFxuICBbanNvbiwgdGV4dCwgZm9ybSwgcGFydHMsIHhtbCwgZ3JhcGhxbCwgc29hcCwgZmlsZSwgdGVtcGxhdGVdLm1hcCgoa2luZCkgPT4gW2tpbmQubmFtZSwga2luZF0pLFxuKTtcbiIsICIvKiogQnkgYSBjdXJzb3IgdGhhdCB0aGUgYW5zd2VyIGhvbGRzOyBub25lLCBhbiBlbXB0eSBvbmUsIGFuZCBudWxsIG1lYW4gdGhlIGVuZC4gKi9cbmltcG9ydCB7IHRleHRPZiB9IGZyb20gJy4uLy4uLy4uL3ZhbHVlL3RleHQuanMnO1xuaW1wb3J0IHsgcGxhaW4gfSBmcm9tICcuLi8uLi8uLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB0eXBlIHsgUGFnZUtpbmQgfSBmcm9tICcuLi9wYWdlLWtpbmQuanMnO1xuXG5leHBvcnQgY29uc3QgY3Vyc29yOiBQYWdlS2luZCA9IHtcbiAgbmFtZTogJ2N1cnNvcicsXG4gIHRvbGQ6IHRydWUsXG4gIGlucHV0OiAoeyBjdXJzb3I6IHNwZWMgfSkgPT4gc3BlYz8uaW5wdXQsXG4gIGNvbXBpbGUoeyBjdXJzb3I6IHNwZWMgfSwgcGxhY2UpIHtcbiAgICBjb25zdCB7IGlucHV0LCBmcm9tIH0gPSBzcGVjIGFzIE5vbk51bGxhYmxlPHR5cGVvZiBzcGVjPjtcbiAgICBjb25zdCBmb3VuZCA9IHBsYWNlKGZyb20pO1xuICAgIHJldHVybiAoeyByZWNlaXZlZCB9KSA9PiB7XG4gICAgICBjb25zdCB2YWx1ZSA9IGZvdW5kLmZpbmQocmVjZWl2ZWQpO1xuICAgICAgcmV0dXJuIHZhbHVlID09PSB1bmRlZmluZWQgfHwgcGxhaW4odmFsdWUpID09PSBudWxsIHx8IHRleHRPZih2YWx1ZSkgPT09ICcnID8gdW5kZWZpbmVkIDogeyBpbnB1dCwgdmFsdWUgfTtcbiAgICB9O1xuICB9LFxufTtcbiIsICIvKiogQnkgdGhlIGFkZHJlc3Mgb2YgdGhlIG5leHQgcGFnZTogaW4gYSBMaW5rIGhlYWRlciAoUkZDIDgyODgpLCBvciBpbiB0aGUgYm9keS4gKi9cbmltcG9ydCB7IHRleHRPZiB9IGZyb20gJy4uLy4uLy4uL3ZhbHVlL3RleHQuanMnO1xuaW1wb3J0IHsgcGxhaW4gfSBmcm9tICcuLi8uLi8uLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB0eXBlIHsgUGFnZUtpbmQgfSBmcm9tICcuLi9wYWdlLWtpbmQuanMnO1xuXG5leHBvcnQgY29uc3QgbmV4dDogUGFnZUtpbmQgPSB7XG4gIG5hbWU6ICduZXh0JyxcbiAgdG9sZDogdHJ1ZSxcbiAgaW5wdXQ6ICgpID0+IHVuZGVmaW5lZCxcbiAgY29tcGlsZSh7IG5leHQ6IGF0ID0gJycgfSwgcGxhY2UpIHtcbiAgICBjb25zdCBmb3VuZCA9IHBsYWNlKGF0KTtcbiAgICByZXR1cm4gKHsgcmVjZWl2ZWQgfSkgPT4ge1xuICAgICAgY29uc3QgdmFsdWUgPSBmb3VuZC5maW5kKHJlY2VpdmVkKTtcbiAgICAgIGlmICh2YWx1ZSA9PT0gdW5kZWZpbmVkIHx8IHBsYWluKHZhbHVlKSA9PT0gbnVsbCkgcmV0dXJuIHVuZGVmaW5lZDtcbiAgICAgIGNvbnN0IHRleHQgPSB0ZXh0T2YodmFsdWUpLnRyaW0oKTtcbiAgICAgIGlmICh0ZXh0ID09PSAnJykgcmV0dXJuIHVuZGVmaW5lZDtcbiAgICAgIC8vIFJGQyAzOTg2IHNlY3Rpb24gNTogaXQgbWF5IGJlIHJlbGF0aXZlIHRvIHdoZXJlIGl0IHdhcyBmb3VuZC5cbiAgICAgIHJldHVybiBVUkwuY2FuUGFyc2UodGV4dCwgcmVjZWl2ZWQuZmluYWxVcmwpID8geyBhZGRyZXNzOiBuZXcgVVJMKHRleHQsIHJlY2VpdmVkLmZpbmFsVXJsKS5ocmVmIH0gOiB1bmRlZmluZWQ7XG4gICAgfTtcbiAgfSxcbn07XG4iLCAiLyoqIEJ5IHRoZSBudW1iZXIgb2YgdGhlIHBhZ2UuICovXG5pbXBvcnQgdHlwZSB7IFBhZ2VLaW5kIH0gZnJvbSAnLi4vcGFnZS1raW5kLmpzJztcblxuZXhwb3J0IGNvbnN0IG51bWJlcjogUGFnZUtpbmQgPSB7XG4gIG5hbWU6ICdudW1iZXInLFxuICB0b2xkOiBmYWxzZSxcbiAgaW5wdXQ6ICh7IG51bWJlcjogc3BlYyB9KSA9PiBzcGVjPy5pbnB1dCxcbiAgY29tcGlsZSh7IG51bWJlcjogc3BlYyB9KSB7XG4gICAgY29uc3QgeyBpbnB1dCwgZmlyc3QgPSAxIH0gPSBzcGVjIGFzIE5vbk51bGxhYmxlPHR5cGVvZiBzcGVjPjtcbiAgICByZXR1cm4gKHsgcGFnZXMgfSkgPT4gKHsgaW5wdXQsIHZhbHVlOiBmaXJzdCArIHBhZ2VzIH0pO1xuICB9LFxufTtcbiIsICIvKiogQnkgdGhlIG51bWJlciBvZiBpdGVtcyB0aGF0IGNvbWUgYmVmb3JlIHRoZSBwYWdlLiAqL1xuaW1wb3J0IHR5cGUgeyBQYWdlS2luZCB9IGZyb20gJy4uL3BhZ2Uta2luZC5qcyc7XG5cbmV4cG9ydCBjb25zdCBvZmZzZXQ6IFBhZ2VLaW5kID0ge1xuICBuYW1lOiAnb2Zmc2V0JyxcbiAgdG9sZDogZmFsc2UsXG4gIGlucHV0OiAoeyBvZmZzZXQ6IHNwZWMgfSkgPT4gc3BlYz8uaW5wdXQsXG4gIGNvbXBpbGUoeyBvZmZzZXQ6IHNwZWMgfSkge1xuICAgIGNvbnN0IHsgaW5wdXQgfSA9IHNwZWMgYXMgTm9uTnVsbGFibGU8dHlwZW9mIHNwZWM+O1xuICAgIHJldHVybiAoeyBpdGVtcyB9KSA9PiAoeyBpbnB1dCwgdmFsdWU6IGl0ZW1zIH0pO1xuICB9LFxufTtcbiIsICIvKiogQWxsIHdheXMgb2YgcGFnaW5nLiBBIG5ldyBvbmUgaXMgb25lIGZpbGUsIG9uZSBsaW5lIGhlcmUsIGFuZCBpdHMga2V5IGluIHRoZSBzY2hlbWEgb2YgYHBhZ2VzYC4gKi9cbmltcG9ydCB7IGN1cnNvciB9IGZyb20gJy4va2luZHMvY3Vyc29yLmpzJztcbmltcG9ydCB7IG5leHQgfSBmcm9tICcuL2tpbmRzL25leHQuanMnO1xuaW1wb3J0IHsgbnVtYmVyIH0gZnJvbSAnLi9raW5kcy9udW1iZXIuanMnO1xuaW1wb3J0IHsgb2Zmc2V0IH0gZnJvbSAnLi9raW5kcy9vZmZzZXQuanMnO1xuaW1wb3J0IHR5cGUgeyBQYWdlS2luZCB9IGZyb20gJy4vcGFnZS1raW5kLmpzJztcblxuZXhwb3J0IGNvbnN0IHBhZ2VLaW5kczogcmVhZG9ubHkgUGFnZUtpbmRbXSA9IFtuZXh0LCBjdXJzb3IsIG51bWJlciwgb2Zmc2V0XTtcbiIsICIvKiogYHBhZ2VzOmAgbWFkZSByZWFkeS4gKi9cbmltcG9ydCB0eXBlIHsgUGFnZXNGaWxlIH0gZnJvbSAnLi4vLi4vY29sbGVjdGlvbi9maWxlcy9wYWdlcy5qcyc7XG5pbXBvcnQgdHlwZSB7IFlhbWxGaWxlIH0gZnJvbSAnLi4vLi4vY29sbGVjdGlvbi95YW1sLmpzJztcbmltcG9ydCB7IGNvbXBpbGVFeHBlY3RhdGlvbnMsIHR5cGUgRXhwZWN0YXRpb24gfSBmcm9tICcuLi8uLi9leHBlY3RhdGlvbi9leHBlY3RhdGlvbnMuanMnO1xuaW1wb3J0IHR5cGUgeyBMb2FkcyB9IGZyb20gJy4uLy4uL2V4cHJlc3Npb24vY29tcGlsZS5qcyc7XG5pbXBvcnQgdHlwZSB7IE5hbWVzcGFjZXMsIFBsYWNlIH0gZnJvbSAnLi4vLi4vcGxhY2UvcGxhY2UuanMnO1xuaW1wb3J0IHsgcmVhZFBsYWNlIH0gZnJvbSAnLi4vLi4vcGxhY2UvcmVnaXN0cnkuanMnO1xuaW1wb3J0IHsgYXNQcm9ibGVtLCBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB0eXBlIHsgTmV4dFBhZ2UsIFBhZ2VGYWN0cyB9IGZyb20gJy4vcGFnZS1raW5kLmpzJztcbmltcG9ydCB7IHBhZ2VLaW5kcyB9IGZyb20gJy4vcmVnaXN0cnkuanMnO1xuXG5leHBvcnQgaW50ZXJmYWNlIFBhZ2VzUGxhbiB7XG4gIHJlYWRvbmx5IGl0ZW1zOiBQbGFjZTtcbiAgcmVhZG9ubHkgdG90YWw6IFBsYWNlIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSBmb2xsb3dpbmc6IHJlYWRvbmx5IEV4cGVjdGF0aW9uW107XG4gIHJlYWRvbmx5IHNpemU6IG51bWJlciB8IHVuZGVmaW5lZDtcbiAgLyoqIFBhZ2VzLiAqL1xuICByZWFkb25seSBtb3N0OiBudW1iZXI7XG4gIC8qKiBXaXRob3V0IGEgd29yZCBvZiB0aGUgYW5zd2VyIGEgcGFnZSB3aXRob3V0IGl0ZW1zIGlzIHRoZSBsYXN0LiAqL1xuICByZWFkb25seSB0b2xkOiBib29sZWFuO1xuICByZWFkb25seSBuZXh0OiAoZmFjdHM6IFBhZ2VGYWN0cykgPT4gTmV4dFBhZ2U7XG59XG5cbmV4cG9ydCBpbnRlcmZhY2UgUGFnZXNSb29tIHtcbiAgcmVhZG9ubHkgeWFtbDogWWFtbEZpbGU7XG4gIHJlYWRvbmx5IGlucHV0czogcmVhZG9ubHkgc3RyaW5nW107XG4gIHJlYWRvbmx5IHJlYWRUZXh0OiAocGF0aDogc3RyaW5nKSA9PiBzdHJpbmc7XG4gIHJlYWRvbmx5IGxvYWRzOiBMb2FkcztcbiAgcmVhZG9ubHkgbmFtZXNwYWNlczogTmFtZXNwYWNlcyB8IHVuZGVmaW5lZDtcbn1cblxuLyoqIEB0aHJvd3MgUHJvYmxlbSBmaWxlLXNoYXBlOiBub25lIG9yIHNldmVyYWwgd2F5czsgYW4gaW5wdXQgdGhhdCB0aGUgcmVxdWVzdCBkb2VzIG5vdCBoYXZlOyBwbGFjZS1zeW50YXggKi9cbmV4cG9ydCBmdW5jdGlvbiBwbGFuUGFnZXMoc3BlYzogUGFnZXNGaWxlLCB7IHlhbWwsIGlucHV0cywgcmVhZFRleHQsIGxvYWRzLCBuYW1lc3BhY2VzIH06IFBhZ2VzUm9vbSk6IFBhZ2VzUGxhbiB7XG4gIGNvbnN0IHBsYWNlID1cbiAgICAoa2V5OiBzdHJpbmcpID0+XG4gICAgKHRleHQ6IHN0cmluZyk6IFBsYWNlID0+IHtcbiAgICAgIHRyeSB7XG4gICAgICAgIHJldHVybiByZWFkUGxhY2UodGV4dCwgbG9hZHMsIG5hbWVzcGFjZXMpO1xuICAgICAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICAgICAgdGhyb3cgYXNQcm9ibGVtKGVycm9yKS5hdCh5YW1sLnBvc2l0aW9uKFsncGFnZXMnLCBrZXldKSk7XG4gICAgICB9XG4gICAgfTtcbiAgY29uc3Qgd2F5cyA9IHBhZ2VLaW5kcy5maWx0ZXIoKHsgbmFtZSB9KSA9PiBzcGVjW25hbWVdICE9PSB1bmRlZmluZWQpO1xuICBjb25zdCBba2luZF0gPSB3YXlzO1xuICBpZiAoIWtpbmQgfHwgd2F5cy5sZW5ndGggPiAxKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ2ZpbGUtc2hhcGUnLCB7XG4gICAgICB3aGF0OiBgcGFnZXMgbmVlZHMgb25lIHdheSB0byBhc2sgZm9yIHRoZSBuZXh0IHBhZ2UsIGFuZCBoYXMgJHt3YXlzLmxlbmd0aCA9PT0gMCA/ICdub25lJyA6IHdheXMubWFwKCh7IG5hbWUgfSkgPT4gbmFtZSkuam9pbignIGFuZCAnKX1gLFxuICAgICAgd2hlcmU6IHlhbWwucG9zaXRpb24oWydwYWdlcyddLCAna2V5JyksXG4gICAgICByZW1lZHk6IGBvbmUgb2YgJHtwYWdlS2luZHMubWFwKCh7IG5hbWUgfSkgPT4gbmFtZSkuam9pbignLCAnKX1gLFxuICAgIH0pO1xuICB9XG4gIGNvbnN0IGlucHV0ID0ga2luZC5pbnB1dChzcGVjKTtcbiAgaWYgKGlucHV0ICE9PSB1bmRlZmluZWQgJiYgIWlucHV0cy5pbmNsdWRlcyhpbnB1dCkpIHtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgnZmlsZS1zaGFwZScsIHtcbiAgICAgIHdoYXQ6IGBwYWdlcyBnaXZlcyB0aGUgbmV4dCBwYWdlIHRvIHRoZSBpbnB1dCAke2lucHV0fSwgd2hpY2ggdGhlIHJlcXVlc3QgZG9lcyBub3QgaGF2ZWAsXG4gICAgICB3aGVyZTogeWFtbC5wb3NpdGlvbihbJ3BhZ2VzJywga2luZC5uYW1lLCAnaW5wdXQnXSksXG4gICAgICByZW1lZHk6IGBkZWNsYXJlIGl0OiBpbnB1dHM6IHske2lucHV0fToge2RlZmF1bHQ6IFx1MjAyNn19LCBhbmQgdXNlIFxcJHske2lucHV0fX0gaW4gdGhlIHJlcXVlc3RgLFxuICAgIH0pO1xuICB9XG4gIHJldHVybiB7XG4gICAgaXRlbXM6IHBsYWNlKCdpdGVtcycpKHNwZWMuaXRlbXMpLFxuICAgIHRvdGFsOiBzcGVjLnRvdGFsID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiBwbGFjZSgndG90YWwnKShzcGVjLnRvdGFsKSxcbiAgICBmb2xsb3dpbmc6IGNvbXBpbGVFeHBlY3RhdGlvbnMoc3BlYy53aGlsZSwgeWFtbCwgWydwYWdlcycsICd3aGlsZSddLCByZWFkVGV4dCwgbG9hZHMsIG5hbWVzcGFjZXMpLFxuICAgIHNpemU6IHNwZWMuc2l6ZSxcbiAgICBtb3N0OiBzcGVjLm1vc3QgPz8gMTAwMCxcbiAgICB0b2xkOiBraW5kLnRvbGQsXG4gICAgbmV4dDoga2luZC5jb21waWxlKHNwZWMsIHBsYWNlKGtpbmQubmFtZSkpLFxuICB9O1xufVxuIiwgIi8qKiBSZXF1ZXN0cyBhbmQgc2lnbmF0dXJlcyBtYWRlIHJlYWR5OiByZWFkIG9uY2UsIHVzZWQgZm9yIGFueSBudW1iZXIgb2Ygc2VuZGluZ3MuICovXG5pbXBvcnQgdHlwZSB7IENvbGxlY3Rpb24gfSBmcm9tICcuLi9jb2xsZWN0aW9uL2NvbGxlY3Rpb24uanMnO1xuaW1wb3J0IHsgcGxhblJlcXVlc3QsIHR5cGUgUmVxdWVzdFBsYW4gfSBmcm9tICcuLi9leGNoYW5nZS9yZXF1ZXN0LXBsYW4uanMnO1xuaW1wb3J0IHsgY29tcGlsZUV4cGVjdGF0aW9ucywgdHlwZSBFeHBlY3RhdGlvbiB9IGZyb20gJy4uL2V4cGVjdGF0aW9uL2V4cGVjdGF0aW9ucy5qcyc7XG5pbXBvcnQgeyBjb21waWxlS2VlcHMsIHR5cGUgS2VlcCB9IGZyb20gJy4uL2V4cGVjdGF0aW9uL2tlZXBzLmpzJztcbmltcG9ydCB0eXBlIHsgTG9hZHMgfSBmcm9tICcuLi9leHByZXNzaW9uL2NvbXBpbGUuanMnO1xuaW1wb3J0IHR5cGUgeyBQbGFjZSB9IGZyb20gJy4uL3BsYWNlL3BsYWNlLmpzJztcbmltcG9ydCB7IHJlYWRQbGFjZSB9IGZyb20gJy4uL3BsYWNlL3JlZ2lzdHJ5LmpzJztcbmltcG9ydCB7IGFzUHJvYmxlbSB9IGZyb20gJy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgdHlwZSB7IFNpZ25lciB9IGZyb20gJy4uL3NpZ25hdHVyZS9zaWduYXR1cmUta2luZC5qcyc7XG5pbXBvcnQgeyB0eXBlIFJldHJ5UG9saWN5LCByZXRyeVBvbGljeSB9IGZyb20gJy4vcGFjaW5nL3JldHJ5LXBvbGljeS5qcyc7XG5pbXBvcnQgeyB0eXBlIFBhZ2VzUGxhbiwgcGxhblBhZ2VzIH0gZnJvbSAnLi9wYWdpbmcvcGFnZXMtcGxhbi5qcyc7XG5cbi8qKiBBIHJlcXVlc3QgbWFkZSByZWFkeSwgd2l0aCB3aGF0IGl0IGV4cGVjdHMgYW5kIGtlZXBzLiAqL1xuZXhwb3J0IGludGVyZmFjZSBQcmVwYXJlZFJlcXVlc3Qge1xuICByZWFkb25seSBwbGFuOiBSZXF1ZXN0UGxhbjtcbiAgcmVhZG9ubHkgZXhwZWN0YXRpb25zOiByZWFkb25seSBFeHBlY3RhdGlvbltdO1xuICByZWFkb25seSBrZWVwczogcmVhZG9ubHkgS2VlcFtdO1xuICAvKiogV2hlcmUgaXRzIGZpbGUgb3IgYSBmb2xkZXIgc2F5cyB3aGVuIGl0IGlzIHNlbnQgYWdhaW46IGBwb2xpY3lgIGlzIHVuZGVmaW5lZCBmb3IgYG5vbmVgLiAqL1xuICByZWFkb25seSByZXRyeTogeyByZWFkb25seSBwb2xpY3k6IFJldHJ5UG9saWN5IHwgdW5kZWZpbmVkIH0gfCB1bmRlZmluZWQ7XG4gIC8qKiBIb3cgaXRzIGxpc3QgY29tZXMgaW4gcGFnZXMuICovXG4gIHJlYWRvbmx5IHBhZ2VzOiBQYWdlc1BsYW4gfCB1bmRlZmluZWQ7XG4gIC8qKiBIb3cgaXQgaXMgc2lnbmVkLCB3aGVyZSBpdHMgZmlsZSBzYXlzIHNvLiAqL1xuICByZWFkb25seSBzaWduZXI6IFNpZ25lciB8IHVuZGVmaW5lZDtcbiAgLyoqIFdoZXJlIGl0cyBhbnN3ZXIgaG9sZHMgdGhlIHRva2VuIG9mIGEgc2Vzc2lvbiB0aGF0IGl0IG9wZW5zOiBhIHNlY3JldCBmcm9tIHRoZSBmaXJzdCBtb21lbnQuICovXG4gIHJlYWRvbmx5IHRva2VuczogcmVhZG9ubHkgUGxhY2VbXTtcbn1cblxuLyoqIEB0aHJvd3MgUHJvYmxlbSBhYm91dCBhbnl0aGluZyBpbiB0aGUgcmVxdWVzdCBmaWxlLCBpdHMgc2lnbmF0dXJlLCBvciB3aGF0IHRoZXkgbmFtZSAqL1xuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIHByZXBhcmVSZXF1ZXN0KFxuICBjb2xsZWN0aW9uOiBDb2xsZWN0aW9uLFxuICBuYW1lOiBzdHJpbmcsXG4gIHJlYWRUZXh0OiAocGF0aDogc3RyaW5nKSA9PiBzdHJpbmcsXG4gIHNpZ25lcjogKHNpZ25hdHVyZTogc3RyaW5nKSA9PiBQcm9taXNlPFNpZ25lcj4sXG4pOiBQcm9taXNlPFByZXBhcmVkUmVxdWVzdD4ge1xuICBjb25zdCBsb2FkZWQgPSBjb2xsZWN0aW9uLnJlYWQoJ3JlcXVlc3QnLCBuYW1lKTtcbiAgY29uc3QgbG9hZHM6IExvYWRzID0gW107XG4gIGNvbnN0IHBsYW4gPSBwbGFuUmVxdWVzdChjb2xsZWN0aW9uLCBsb2FkZWQsIGxvYWRzKTtcbiAgY29uc3QgeyBleHBlY3QsIGtlZXAsIG5hbWVzcGFjZXMgfSA9IHBsYW4uY29udGVudDtcbiAgLy8gV2hhdCBpcyB3cm9uZyB3aXRoIGl0cyBzaWduYXR1cmUgaXMgdG9sZCBiZWZvcmUgYW55dGhpbmcgaXMgc2VudC5cbiAgY29uc3Qgc2lnbmluZyA9XG4gICAgcGxhbi5zaWduYXR1cmUgPT09IHVuZGVmaW5lZFxuICAgICAgPyB1bmRlZmluZWRcbiAgICAgIDogYXdhaXQgc2lnbmVyKHBsYW4uc2lnbmF0dXJlKS5jYXRjaCgoZXJyb3I6IHVua25vd24pID0+IHtcbiAgICAgICAgICB0aHJvdyBhc1Byb2JsZW0oZXJyb3IpLmF0KGxvYWRlZC55YW1sLnBvc2l0aW9uKFsnc2lnbmF0dXJlJ10pKTtcbiAgICAgICAgfSk7XG4gIGNvbnN0IHJlYWR5ID0ge1xuICAgIHBsYW4sXG4gICAgc2lnbmVyOiBzaWduaW5nLFxuICAgIGV4cGVjdGF0aW9uczogY29tcGlsZUV4cGVjdGF0aW9ucyhleHBlY3QsIGxvYWRlZC55YW1sLCBbJ2V4cGVjdCddLCByZWFkVGV4dCwgbG9hZHMsIG5hbWVzcGFjZXMpLFxuICAgIGtlZXBzOiBjb21waWxlS2VlcHMoa2VlcCwgbG9hZGVkLnlhbWwsIFsna2VlcCddLCBsb2FkcywgbmFtZXNwYWNlcyksXG4gICAgcmV0cnk6IHBsYW4ucmV0cnkgJiYge1xuICAgICAgcG9saWN5OiByZXRyeVBvbGljeShwbGFuLnJldHJ5LnNwZWMsIHBsYW4ucmV0cnkueWFtbCwgcmVhZFRleHQsIGxvYWRzLCBuYW1lc3BhY2VzKSxcbiAgICB9LFxuICAgIHBhZ2VzOlxuICAgICAgcGxhbi5jb250ZW50LnBhZ2VzICYmXG4gICAgICBwbGFuUGFnZXMocGxhbi5jb250ZW50LnBhZ2VzLCB7XG4gICAgICAgIHlhbWw6IGxvYWRlZC55YW1sLFxuICAgICAgICBpbnB1dHM6IHBsYW4uaW5wdXRzLm1hcCgoaW5wdXQpID0+IGlucHV0Lm5hbWUpLFxuICAgICAgICByZWFkVGV4dCxcbiAgICAgICAgbG9hZHMsXG4gICAgICAgIG5hbWVzcGFjZXMsXG4gICAgICB9KSxcbiAgICB0b2tlbnM6IHRva2VuUGxhY2VzKGNvbGxlY3Rpb24sIG5hbWUsIGxvYWRzKSxcbiAgfTtcbiAgYXdhaXQgUHJvbWlzZS5hbGwobG9hZHMpO1xuICByZXR1cm4gcmVhZHk7XG59XG5cbi8qKiBBIHJlcXVlc3QgdGhhdCBubyBmaWxlIHNheXMgbW9yZSBvZi4gKi9cbmV4cG9ydCBjb25zdCBwbGFpblJlcXVlc3QgPSAocGxhbjogUmVxdWVzdFBsYW4pOiBQcmVwYXJlZFJlcXVlc3QgPT4gKHtcbiAgcGxhbixcbiAgZXhwZWN0YXRpb25zOiBbXSxcbiAga2VlcHM6IFtdLFxuICByZXRyeTogdW5kZWZpbmVkLFxuICBwYWdlczogdW5kZWZpbmVkLFxuICBzaWduZXI6IHVuZGVmaW5lZCxcbiAgdG9rZW5zOiBbXSxcbn0pO1xuXG4vKiogTG9hZGVkIHdoZXJlIGEgcmVxdWVzdCBpcyBzaWduZWQ6IG1vc3QgYXJlIG5vdC4gKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiBwcmVwYXJlU2lnbmVyKGNvbGxlY3Rpb246IENvbGxlY3Rpb24sIG5hbWU6IHN0cmluZyk6IFByb21pc2U8U2lnbmVyPiB7XG4gIGNvbnN0IHsgY29udGVudCwgeWFtbCB9ID0gY29sbGVjdGlvbi5yZWFkKCdzaWduYXR1cmUnLCBuYW1lKTtcbiAgY29uc3QgeyBjb21waWxlU2lnbmF0dXJlIH0gPSBhd2FpdCBpbXBvcnQoJy4uL3NpZ25hdHVyZS9yZWdpc3RyeS5qcycpO1xuICBjb25zdCBsb2FkczogTG9hZHMgPSBbXTtcbiAgY29uc3Qgc2lnbmVyID0gY29tcGlsZVNpZ25hdHVyZShjb250ZW50LCB7IG5hbWUsIHlhbWwsIGxvYWRzIH0pO1xuICBhd2FpdCBQcm9taXNlLmFsbChsb2Fkcyk7XG4gIHJldHVybiBzaWduZXI7XG59XG5cbi8qKiBCeSB0aGUgc2Vzc2lvbiBmaWxlcyB0aGF0IG9wZW4gd2l0aCB0aGlzIHJlcXVlc3Q7IG9uZSB0aGF0IGNhbm5vdCBiZSByZWFkIGlzIHRvbGQgd2hlbiBpdCBpcyB1c2VkLiAqL1xuZnVuY3Rpb24gdG9rZW5QbGFjZXMoY29sbGVjdGlvbjogQ29sbGVjdGlvbiwgcmVxdWVzdDogc3RyaW5nLCBsb2FkczogTG9hZHMpOiBQbGFjZVtdIHtcbiAgcmV0dXJuIGNvbGxlY3Rpb24ubmFtZXMoJ3Nlc3Npb24nKS5mbGF0TWFwKChuYW1lKSA9PiB7XG4gICAgdHJ5IHtcbiAgICAgIGNvbnN0IHsgY29udGVudCB9ID0gY29sbGVjdGlvbi5yZWFkKCdzZXNzaW9uJywgbmFtZSk7XG4gICAgICBpZiAoY29udGVudC5raW5kICE9PSAnbG9naW4nIHx8IGNvbnRlbnQudG9rZW4gPT09IHVuZGVmaW5lZCB8fCAhKCdzZW5kJyBpbiBjb250ZW50Lm9wZW4pKSByZXR1cm4gW107XG4gICAgICByZXR1cm4gY29sbGVjdGlvbi5yZXNvbHZlKCdyZXF1ZXN0JywgY29udGVudC5vcGVuLnNlbmQpID09PSByZXF1ZXN0ID8gW3JlYWRQbGFjZShjb250ZW50LnRva2VuLCBsb2FkcyldIDogW107XG4gICAgfSBjYXRjaCB7XG4gICAgICByZXR1cm4gW107XG4gICAgfVxuICB9KTtcbn1cbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7OztBQUNBLFNBQVMsb0JBQW9COzs7QUNBN0IsU0FBUyxrQkFBa0IsZ0JBQWdCOzs7QUNBM0MsU0FBUyxXQUFXLFVBQVUsZ0JBQWdCO0FBRTlDLElBQU0sT0FBTyxLQUFLO0FBRVgsVUFBVSxXQUFXLE1BQXFDO0FBQy9ELFFBQU1BLFFBQU8sU0FBUyxNQUFNLEdBQUc7QUFDL0IsTUFBSTtBQUNGLFVBQU0sU0FBUyxPQUFPLFlBQVksSUFBSTtBQUN0QyxhQUFTLE9BQU8sU0FBU0EsT0FBTSxNQUFNLEdBQUcsT0FBTyxHQUFHLE9BQU8sU0FBU0EsT0FBTSxNQUFNLEVBQUcsT0FBTSxPQUFPLFNBQVMsR0FBRyxJQUFJO0FBQUEsRUFDaEgsVUFBRTtBQUNBLGNBQVVBLEtBQUk7QUFBQSxFQUNoQjtBQUNGOzs7QUNaQSxTQUFTLGFBQWE7QUFHZixTQUFTLFlBQVksTUFBc0I7QUFDaEQsUUFBTSxTQUFTLG9CQUFvQixLQUFLLElBQUksSUFBSSxDQUFDLEdBQUcsWUFBWSxLQUFLO0FBRXJFLE1BQUksV0FBVyxNQUFPLFFBQU87QUFDN0IsUUFBTSxPQUFPLE9BQU8sT0FBTyxPQUFPLE1BQU0sSUFBSSxNQUFNLE1BQU0sSUFBSTtBQUM1RCxTQUFPLFFBQVE7QUFDakI7OztBRkNBLElBQU0sVUFBVSxJQUFJLFdBQVc7QUFFeEIsSUFBTSxPQUFpQjtBQUFBLEVBQzVCLE1BQU07QUFBQSxFQUNOLE9BQU87QUFBQSxFQUNQLFFBQVEsTUFBTSxFQUFFLE9BQU8sTUFBTSxHQUFHO0FBQzlCLFVBQU1DLFlBQVcsZ0JBQWdCLE1BQU0sTUFBTSxDQUFDLENBQUMsR0FBRyxLQUFLO0FBQ3ZELFdBQU8sQ0FBQyxlQUFlO0FBQ3JCLFlBQU0sUUFBUUEsVUFBUyxTQUFTLFVBQVU7QUFDMUMsVUFBSSxVQUFVLFFBQVMsUUFBTztBQUM5QixZQUFNLFFBQVEsT0FBTyxLQUFLO0FBQzFCLFVBQUksVUFBVSxHQUFJLE9BQU0sSUFBSSxRQUFRLGNBQWMsRUFBRSxNQUFNLG9DQUFvQyxPQUFPLE1BQU0sQ0FBQyxDQUFDLEVBQUUsQ0FBQztBQUNoSCxZQUFNLE9BQU8sV0FBVyxNQUFNLEtBQUssS0FBSztBQUN4QyxZQUFNLEVBQUUsTUFBQUMsTUFBSyxJQUFJLFNBQVMsSUFBSTtBQUM5QixhQUFPO0FBQUEsUUFDTCxPQUFPO0FBQUEsUUFDUCxVQUFVLEVBQUUsTUFBQUEsT0FBTSxNQUFNLE1BQU0saUJBQWlCLElBQUksR0FBRyxRQUFRLE1BQU0sV0FBVyxJQUFJLEVBQUU7QUFBQSxRQUNyRixNQUFNLFlBQVksS0FBSztBQUFBLFFBQ3ZCLE9BQU8sSUFBSSxTQUFTQSxLQUFJLENBQUMsT0FBTyxLQUFLO0FBQUEsUUFDckMsUUFBUTtBQUFBLE1BQ1Y7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNGOzs7QUd0Qk8sSUFBTSxPQUFpQjtBQUFBLEVBQzVCLE1BQU07QUFBQSxFQUNOLE9BQU87QUFBQSxFQUNQLFFBQVEsTUFBTSxFQUFFLE9BQU8sTUFBTSxHQUFHO0FBQzlCLFVBQU0sT0FBTyxZQUFZLE1BQU0sT0FBTyxLQUFLO0FBQzNDLFdBQU8sQ0FBQyxlQUFlO0FBQ3JCLFlBQU0sUUFBcUIsRUFBRSxNQUFNLENBQUMsR0FBRyxRQUFRLENBQUMsRUFBRTtBQUNsRCxZQUFNLFFBQVEsS0FBSyxTQUFTLFlBQVksS0FBSztBQUM3QyxVQUFJLFVBQVUsUUFBUyxRQUFPO0FBQzlCLFlBQU0sT0FBTyxRQUFRLEtBQUs7QUFDMUIsWUFBTSxTQUFTLE1BQU0sT0FBTyxTQUFTO0FBQ3JDLFlBQU0sUUFBUSxTQUNWLG1CQUFtQixRQUFRLFdBQVcsT0FBTyxNQUFNLFFBQVEsTUFBTSxDQUFDLEVBQUUsV0FBVyxLQUFLLEdBQUcsQ0FBQyxJQUN4RjtBQUNKLGFBQU8sRUFBRSxPQUFPLE9BQU8sS0FBSyxNQUFNLE1BQU0sR0FBRyxNQUFNLHFDQUFxQyxPQUFPLE9BQU87QUFBQSxJQUN0RztBQUFBLEVBQ0Y7QUFDRjtBQUVBLFNBQVMsUUFBUSxRQUF1QjtBQUN0QyxNQUFJLENBQUMsV0FBVyxNQUFNLEVBQUcsT0FBTSxJQUFJLFFBQVEsY0FBYyxFQUFFLE1BQU0sNEJBQTRCLENBQUM7QUFDOUYsUUFBTSxRQUFRLElBQUksZ0JBQWdCO0FBQ2xDLFFBQU0sTUFBTSxDQUFDLE1BQWMsVUFBdUI7QUFDaEQsUUFBSSxNQUFNLFFBQVEsS0FBSyxHQUFHO0FBRXhCLGlCQUFXLENBQUMsT0FBTyxJQUFJLEtBQU0sTUFBMkIsUUFBUTtBQUM5RCxZQUFJLFdBQVcsSUFBSSxLQUFLLE1BQU0sUUFBUSxJQUFJLElBQUksR0FBRyxJQUFJLElBQUksS0FBSyxNQUFNLE1BQU0sSUFBSTtBQUFBLElBQ2xGLFdBQVcsV0FBVyxLQUFLLEVBQUcsWUFBVyxDQUFDLEtBQUssS0FBSyxLQUFLLE9BQU8sUUFBUSxLQUFLLEVBQUcsS0FBSSxHQUFHLElBQUksSUFBSSxHQUFHLEtBQUssS0FBSztBQUFBLGFBQ25HLE1BQU0sS0FBSyxNQUFNLFFBQVEsaUJBQWlCLFlBQVk7QUFDN0QsWUFBTSxJQUFJLFFBQVEsY0FBYztBQUFBLFFBQzlCLE1BQU0sa0JBQWtCLElBQUksT0FBTyxNQUFNLEtBQUssTUFBTSxPQUFPLFNBQVMsT0FBTztBQUFBLFFBQzNFLFFBQVE7QUFBQSxNQUNWLENBQUM7QUFBQSxJQUNILE1BQU8sT0FBTSxPQUFPLE1BQU0sT0FBTyxLQUFLLENBQUM7QUFBQSxFQUN6QztBQUNBLGFBQVcsQ0FBQyxNQUFNLEtBQUssS0FBSyxPQUFPLFFBQVEsTUFBTSxFQUFHLEtBQUksTUFBTSxLQUFLO0FBQ25FLFNBQU8sTUFBTSxTQUFTO0FBQ3hCOzs7QUM1Q0EsU0FBUyxZQUFBQyxpQkFBZ0I7OztBQ0p6QixTQUFTLG1CQUFtQjtBQUM1QixTQUFTLG9CQUFBQyxtQkFBa0IsWUFBQUMsaUJBQWdCO0FBQzNDLFNBQVMsZ0JBQWdCO0FBQ3pCLFNBQVMsZ0JBQWdCOzs7QUNLbEIsSUFBTSxNQUFnQjtBQUFBLEVBQzNCLE1BQU07QUFBQSxFQUNOLE9BQU87QUFBQSxFQUNQLFFBQVEsTUFBTSxTQUFTO0FBQ3JCLFVBQU1DLFFBQU8sV0FBVyxNQUFNLE9BQU87QUFDckMsV0FBTyxDQUFDLGdCQUFnQixFQUFFLEdBQUdBLE1BQUssVUFBVSxHQUFHLE1BQU0saUNBQWlDO0FBQUEsRUFDeEY7QUFDRjtBQVNBLElBQU0sTUFBTTtBQUdMLFNBQVMsV0FDZCxNQUNBLEVBQUUsT0FBTyxNQUFNLEdBQ3NCO0FBQ3JDLFFBQU1DLFlBQVcsZ0JBQWdCLE1BQU0sTUFBTSxDQUFDLENBQUMsR0FBRyxPQUFPLEVBQUUsUUFBUSxVQUFVLFNBQVMsSUFBSSxDQUFDO0FBQzNGLFNBQU8sQ0FBQyxlQUFlO0FBQ3JCLFVBQU0sQ0FBQyxPQUFPLE1BQU0sSUFBSSxXQUFXLE9BQU8sTUFBTUEsVUFBUyxTQUFTLFVBQVUsQ0FBQztBQUM3RSxVQUFNLE9BQU8sVUFBVSxVQUFVLE1BQU0sWUFBWSxPQUFPLEtBQUssQ0FBQztBQUNoRSxRQUFJLEtBQUssU0FBUyxHQUFHLEdBQUc7QUFDdEIsWUFBTSxJQUFJLFFBQVEsY0FBYztBQUFBLFFBQzlCLE1BQU07QUFBQSxRQUNOLE9BQU8sTUFBTSxDQUFDLENBQUM7QUFBQSxRQUNmLFFBQ0U7QUFBQSxNQUNKLENBQUM7QUFBQSxJQUNIO0FBQ0EsV0FBTyxFQUFFLE9BQU8sT0FBTyxLQUFLLE1BQU0sTUFBTSxHQUFHLE9BQU8sU0FBUyxTQUFTLE1BQU0sT0FBTztBQUFBLEVBQ25GO0FBQ0Y7QUFHQSxTQUFTLFNBQVNELE9BQWMsUUFBZ0IsWUFBNEI7QUFDMUUsTUFBSSx1Q0FBdUMsS0FBSyxNQUFNLEdBQUc7QUFDdkQsUUFBSSw4QkFBOEIsS0FBS0EsS0FBSSxFQUFHLFFBQU9BO0FBQ3JELFVBQU0sSUFBSSxRQUFRLGNBQWM7QUFBQSxNQUM5QixNQUFNLEdBQUcsS0FBSyxVQUFVQSxLQUFJLENBQUM7QUFBQSxNQUM3QixRQUFRO0FBQUEsSUFDVixDQUFDO0FBQUEsRUFDSDtBQUNBLFNBQU8sMEJBQTBCLEtBQUssVUFBVSxJQUFJQSxRQUFPLFFBQVFBLEtBQUk7QUFDekU7QUFHQSxTQUFTLFlBQVlBLE9BQXNCO0FBQ3pDLE1BQUksQ0FBQ0EsTUFBSyxTQUFTLEdBQUcsRUFBRyxRQUFPQTtBQUNoQyxRQUFNLFlBQVksSUFBSSxPQUFPLHNDQUFzQyxHQUFHLGtCQUFrQixHQUFHLFlBQVksR0FBRztBQUMxRyxRQUFNLFVBQVUsSUFBSSxPQUFPLGtEQUFrRCxHQUFHLEtBQUssR0FBRyxvQkFBb0IsR0FBRztBQUMvRyxTQUFPQSxNQUFLLFFBQVEsV0FBVyxFQUFFLEVBQUUsUUFBUSxTQUFTLEVBQUU7QUFDeEQ7QUFHQSxTQUFTLFFBQVFBLE9BQXNCO0FBQ3JDLFNBQU9BLE1BQ0osV0FBVyxLQUFLLE9BQU8sRUFDdkIsV0FBVyxLQUFLLE1BQU0sRUFDdEIsV0FBVyxLQUFLLE1BQU0sRUFDdEIsV0FBVyxLQUFLLFFBQVEsRUFDeEIsV0FBVyxLQUFLLFFBQVEsRUFDeEIsV0FBVyxNQUFNLE9BQU87QUFDN0I7OztBQ2hFTyxJQUFNLFdBQXFCO0FBQUEsRUFDaEMsTUFBTTtBQUFBLEVBQ04sT0FBTztBQUFBLEVBQ1AsU0FBUztBQUNYO0FBR08sU0FBUyxvQkFBb0IsTUFBYSxTQUFnRDtBQUMvRixRQUFNLEVBQUUsT0FBTyxLQUFLLElBQUk7QUFDeEIsTUFBSSxPQUFPLFNBQVMsWUFBWSxLQUFLLFNBQVMsSUFBSSxHQUFHO0FBQ25ELFVBQU0sSUFBSSxRQUFRLGNBQWM7QUFBQSxNQUM5QixNQUFNO0FBQUEsTUFDTixPQUFPLE1BQU0sQ0FBQyxDQUFDO0FBQUEsSUFDakIsQ0FBQztBQUFBLEVBQ0g7QUFDQSxNQUFJRTtBQUNKLE1BQUk7QUFDRixJQUFBQSxRQUFPLEtBQUssSUFBSSxFQUFFLFFBQVEsV0FBVyxFQUFFO0FBQUEsRUFDekMsU0FBUyxPQUFPO0FBQ2QsVUFBTSxpQkFBaUIsVUFBVSxNQUFNLEdBQUcsTUFBTSxDQUFDLENBQUMsQ0FBQyxJQUFJO0FBQUEsRUFDekQ7QUFDQSxTQUFPLG9CQUFvQkEsT0FBTSxNQUFNLFFBQVEsS0FBSztBQUN0RDtBQUdPLFNBQVMsb0JBQW9CQSxPQUFjQyxPQUFjLE9BQXVDO0FBQ3JHLFFBQU0sT0FBTyxZQUFZQSxLQUFJO0FBQzdCLFFBQU0sUUFBUSxPQUF5QixFQUFFLE1BQUFBLE1BQUs7QUFDOUMsTUFBSSxZQUFZLEtBQUssSUFBSSxHQUFHO0FBQzFCLFVBQU0sT0FBTyxZQUFZLE9BQU9ELE9BQU1DLEtBQUksR0FBRyxPQUFPLEtBQUs7QUFDekQsV0FBTyxDQUFDLGVBQWU7QUFDckIsWUFBTSxDQUFDLE9BQU8sTUFBTSxJQUFJLFdBQVcsT0FBTyxNQUFNLEtBQUssU0FBUyxVQUFVLENBQUM7QUFDekUsYUFBTyxVQUFVLFVBQVUsU0FBWSxLQUFLLFVBQVUsS0FBSyxHQUFHLE1BQU0sTUFBTTtBQUFBLElBQzVFO0FBQUEsRUFDRjtBQUNBLE1BQUksV0FBVyxLQUFLLElBQUksR0FBRztBQUN6QixVQUFNQyxPQUFNLFdBQVdGLE9BQU0sRUFBRSxPQUFPLE9BQU8sTUFBTSxDQUFDO0FBQ3BELFdBQU8sQ0FBQyxnQkFBZ0IsRUFBRSxHQUFHRSxLQUFJLFVBQVUsR0FBRyxNQUFNLEdBQUcsSUFBSSxrQkFBa0I7QUFBQSxFQUMvRTtBQUNBLFFBQU1DLFNBQVEsZ0JBQWdCSCxPQUFNLE1BQU0sR0FBRyxLQUFLO0FBQ2xELFNBQU8sQ0FBQyxlQUFlO0FBQ3JCLFVBQU0sQ0FBQyxPQUFPLE1BQU0sSUFBSSxXQUFXLE9BQU8sTUFBTUcsT0FBTSxTQUFTLFVBQVUsQ0FBQztBQUMxRSxXQUFPLFVBQVUsVUFBVSxTQUFZLEtBQUssT0FBTyxLQUFLLEdBQUcsTUFBTSxNQUFNO0FBQUEsRUFDekU7QUFDRjtBQUVBLElBQU0sT0FBTyxDQUFDSCxPQUFjLE1BQWMsWUFBK0I7QUFBQSxFQUN2RSxPQUFPLE9BQU8sS0FBS0EsT0FBTSxNQUFNO0FBQUEsRUFDL0I7QUFBQSxFQUNBLE9BQU8sU0FBUyxTQUFTQTtBQUFBLEVBQ3pCO0FBQ0Y7QUFFQSxTQUFTLE9BQU9BLE9BQWNDLE9BQXFCO0FBQ2pELE1BQUk7QUFDRixXQUFPLEtBQUssTUFBTUQsS0FBSTtBQUFBLEVBQ3hCLFNBQVMsT0FBTztBQUNkLFVBQU0sSUFBSSxRQUFRLGNBQWM7QUFBQSxNQUM5QixNQUFNLEdBQUdDLEtBQUk7QUFBQSxNQUNiLE9BQU8sRUFBRSxNQUFBQSxNQUFLO0FBQUEsTUFDZCxPQUFRLE1BQWdCO0FBQUEsTUFDeEIsUUFBUTtBQUFBLElBQ1YsQ0FBQztBQUFBLEVBQ0g7QUFDRjs7O0FGM0NPLElBQU0sUUFBa0I7QUFBQSxFQUM3QixNQUFNO0FBQUEsRUFDTixPQUFPO0FBQUEsRUFDUCxRQUFRLE1BQU0sU0FBUztBQUNyQixRQUFJLENBQUMsV0FBVyxJQUFJO0FBQ2xCLFlBQU0sSUFBSSxRQUFRLGNBQWMsRUFBRSxNQUFNLHdDQUF3QyxPQUFPLFFBQVEsTUFBTSxDQUFDLENBQUMsRUFBRSxDQUFDO0FBQzVHLFVBQU0sUUFBUSxPQUFPLFFBQVEsSUFBSSxFQUFFLElBQUksQ0FBQyxDQUFDLE1BQU0sS0FBSyxNQUFNLFNBQVMsTUFBTSxPQUFPLE9BQU8sQ0FBQztBQUN4RixXQUFPLENBQUMsZUFBZTtBQUNyQixZQUFNLENBQUNHLE9BQU0sTUFBTSxJQUFJLFdBQVcsT0FBTyxNQUFNLFVBQVUsTUFBTSxRQUFRLENBQUMsU0FBUyxLQUFLLFVBQVUsQ0FBQyxDQUFDLENBQUM7QUFDbkcsYUFBTyxFQUFFLEdBQUdBLE9BQU0sT0FBTztBQUFBLElBQzNCO0FBQUEsRUFDRjtBQUNGO0FBRUEsSUFBTSxRQUFRLENBQUMsUUFBUSxRQUFRLFlBQVksTUFBTTtBQUVqRCxTQUFTLFNBQVMsTUFBYyxPQUFjLFNBQWdDO0FBQzVFLE1BQUksTUFBTSxRQUFRLEtBQUssR0FBRztBQUN4QixVQUFNLE9BQU8sTUFBTTtBQUFBLE1BQUksQ0FBQyxLQUFZLFVBQ2xDLFNBQVMsTUFBTSxLQUFLLEVBQUUsR0FBRyxTQUFTLE9BQU8sQ0FBQyxTQUFTLFFBQVEsTUFBTSxDQUFDLE1BQU0sT0FBTyxHQUFHLEtBQUssTUFBTSxDQUFDLENBQUMsQ0FBQyxFQUFFLENBQUM7QUFBQSxJQUNyRztBQUNBLFdBQU8sQ0FBQyxlQUFlLEtBQUssUUFBUSxDQUFDLFNBQVMsS0FBSyxVQUFVLENBQUM7QUFBQSxFQUNoRTtBQUNBLFFBQU0sRUFBRSxPQUFPLE1BQU0sSUFBSTtBQUN6QixNQUFJLENBQUMsV0FBVyxLQUFLLEdBQUc7QUFDdEIsVUFBTSxPQUFPLFlBQVksT0FBTyxNQUFNLE1BQU0sQ0FBQyxJQUFJLENBQUMsR0FBRyxLQUFLO0FBQzFELFdBQU8sQ0FBQyxlQUFlO0FBQ3JCLFlBQU0sUUFBUSxLQUFLLFNBQVMsVUFBVTtBQUN0QyxVQUFJLFVBQVUsUUFBUyxRQUFPLENBQUM7QUFFL0IsY0FBUSxNQUFNLFFBQVEsS0FBSyxJQUFLLFFBQTZCLENBQUMsS0FBSyxHQUFHO0FBQUEsUUFBSSxDQUFDLFFBQ3pFLE1BQU0sTUFBTSxLQUFLLFdBQVcsYUFBYTtBQUFBLE1BQzNDO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFDQSxRQUFNLE9BQU8sTUFBTSxLQUFLLENBQUMsUUFBUSxPQUFPLE9BQU8sT0FBTyxHQUFHLENBQUM7QUFDMUQsUUFBTSxVQUFVLE9BQU8sS0FBSyxLQUFLLEVBQUUsS0FBSyxDQUFDLFFBQVEsUUFBUSxRQUFRLFFBQVEsVUFBVSxRQUFRLE1BQU07QUFDakcsTUFBSSxTQUFTLFVBQWEsWUFBWSxRQUFXO0FBQy9DLFVBQU0sSUFBSSxRQUFRLGNBQWM7QUFBQSxNQUM5QixNQUFNLFNBQVMsU0FBWSxZQUFZLElBQUksb0JBQW9CLFlBQVksSUFBSSxjQUFjLE9BQU87QUFBQSxNQUNwRyxPQUFPLE1BQU0sQ0FBQyxNQUFNLEdBQUksWUFBWSxTQUFZLENBQUMsSUFBSSxDQUFDLE9BQU8sQ0FBRSxDQUFDO0FBQUEsTUFDaEUsUUFBUSxVQUFVLE1BQU0sS0FBSyxJQUFJLENBQUM7QUFBQSxJQUNwQyxDQUFDO0FBQUEsRUFDSDtBQUNBLFFBQU0sV0FBVyxDQUFDLFFBQTJFO0FBQzNGLFFBQUksTUFBTSxHQUFHLE1BQU0sT0FBVyxRQUFPLE1BQU07QUFDM0MsVUFBTUMsWUFBVyxnQkFBZ0IsTUFBTSxHQUFHLEdBQVksTUFBTSxDQUFDLE1BQU0sR0FBRyxDQUFDLEdBQUcsS0FBSztBQUMvRSxXQUFPLENBQUMsZUFBZTtBQUNyQixZQUFNLFFBQVFBLFVBQVMsU0FBUyxVQUFVO0FBQzFDLGFBQU8sVUFBVSxVQUFVLFNBQVksT0FBTyxLQUFLO0FBQUEsSUFDckQ7QUFBQSxFQUNGO0FBQ0EsUUFBTSxVQUFVLFlBQVksTUFBTSxNQUFNLElBQUksR0FBWSxNQUFNLE9BQU87QUFDckUsUUFBTSxDQUFDLE1BQU0sUUFBUSxJQUFJLENBQUMsU0FBUyxNQUFNLEdBQUcsU0FBUyxNQUFNLENBQUM7QUFDNUQsU0FBTyxDQUFDLGVBQWU7QUFDckIsVUFBTSxPQUFPLFFBQVEsVUFBVTtBQUMvQixRQUFJLENBQUMsS0FBTSxRQUFPLENBQUM7QUFDbkIsV0FBTyxDQUFDLEVBQUUsR0FBRyxNQUFNLE1BQU0sTUFBTSxLQUFLLFVBQVUsS0FBSyxLQUFLLE1BQU0sVUFBVSxTQUFTLFVBQVUsS0FBSyxLQUFLLFNBQVMsQ0FBQztBQUFBLEVBQ2pIO0FBQ0Y7QUFFQSxTQUFTLFlBQ1AsTUFDQSxNQUNBLE1BQ0EsU0FDOEM7QUFDOUMsUUFBTSxFQUFFLE9BQU8sTUFBTSxJQUFJO0FBQ3pCLE1BQUksU0FBUyxZQUFZO0FBQ3ZCLFVBQU1BLFlBQVcsb0JBQW9CLE1BQU0sRUFBRSxHQUFHLFNBQVMsT0FBTyxNQUFNLE1BQU0sQ0FBQyxNQUFNLElBQUksQ0FBQyxFQUFFLENBQUM7QUFDM0YsV0FBTyxDQUFDLGVBQWU7QUFDckIsWUFBTSxPQUFPQSxVQUFTLFVBQVU7QUFDaEMsYUFDRSxRQUFRO0FBQUEsUUFDTjtBQUFBLFFBQ0EsVUFBVTtBQUFBLFFBQ1YsTUFBTSxLQUFLO0FBQUEsUUFDWCxTQUFTLEVBQUUsT0FBTyxPQUFPLEtBQUssS0FBSyxLQUFLLEdBQUcsT0FBTyxLQUFLLE1BQU07QUFBQSxNQUMvRDtBQUFBLElBRUo7QUFBQSxFQUNGO0FBQ0EsUUFBTSxPQUFPLFlBQVksTUFBTSxDQUFDLFNBQVMsTUFBTSxDQUFDLE1BQU0sTUFBTSxHQUFHLElBQUksQ0FBQyxHQUFHLEtBQUs7QUFDNUUsU0FBTyxDQUFDLGVBQWU7QUFDckIsVUFBTSxDQUFDLE9BQU8sTUFBTSxJQUFJLFdBQVcsT0FBTyxNQUFNLEtBQUssU0FBUyxVQUFVLENBQUM7QUFDekUsUUFBSSxVQUFVLFFBQVMsUUFBTztBQUM5QixRQUFJLFNBQVMsT0FBUSxRQUFPLE1BQU0sTUFBTSxPQUFPLE1BQU07QUFDckQsUUFBSSxTQUFTLFFBQVE7QUFDbkIsWUFBTUMsUUFBTyxVQUFVLEtBQUs7QUFDNUIsYUFBTztBQUFBLFFBQ0w7QUFBQSxRQUNBLFVBQVU7QUFBQSxRQUNWLE1BQU07QUFBQSxRQUNOLFNBQVMsRUFBRSxPQUFPLE9BQU8sS0FBS0EsS0FBSSxHQUFHLE9BQU8sU0FBUyxTQUFTQSxNQUFLO0FBQUEsTUFDckU7QUFBQSxJQUNGO0FBQ0EsVUFBTSxRQUFRLE9BQU8sS0FBSztBQUMxQixXQUFPO0FBQUEsTUFDTDtBQUFBLE1BQ0EsVUFBVSxTQUFTLEtBQUs7QUFBQSxNQUN4QixNQUFNLFlBQVksS0FBSztBQUFBLE1BQ3ZCLFNBQVMsRUFBRSxNQUFNLFdBQVcsTUFBTSxLQUFLLEtBQUssR0FBRyxNQUFNO0FBQUEsSUFDdkQ7QUFBQSxFQUNGO0FBQ0Y7QUFFQSxTQUFTLE1BQU0sTUFBYyxPQUFjLFFBQXVCO0FBQ2hFLE1BQUksTUFBTSxLQUFLLE1BQU0sUUFBUSxXQUFXLEtBQUssR0FBRztBQUM5QyxVQUFNLElBQUksUUFBUSxjQUFjO0FBQUEsTUFDOUIsTUFBTSxZQUFZLElBQUksT0FBTyxNQUFNLEtBQUssTUFBTSxPQUFPLFNBQVMsT0FBTztBQUFBLE1BQ3JFLFFBQVE7QUFBQSxJQUNWLENBQUM7QUFBQSxFQUNIO0FBQ0EsUUFBTUEsUUFBTyxPQUFPLEtBQUs7QUFDekIsU0FBTztBQUFBLElBQ0w7QUFBQSxJQUNBLFVBQVU7QUFBQSxJQUNWLE1BQU07QUFBQSxJQUNOLFNBQVMsRUFBRSxPQUFPLE9BQU8sS0FBS0EsS0FBSSxHQUFHLE9BQU8sU0FBUyxTQUFTQSxNQUFLO0FBQUEsRUFDckU7QUFDRjtBQUdPLFNBQVMsVUFBVSxPQUFrQztBQUMxRCxRQUFNLFdBQVcsUUFBUSxZQUFZLEVBQUUsRUFBRSxTQUFTLEtBQUssQ0FBQztBQUN4RCxRQUFNLFNBQWlELENBQUM7QUFDeEQsUUFBTSxRQUFrQixDQUFDO0FBQ3pCLE1BQUlDLFFBQU87QUFDWCxNQUFJLFdBQVc7QUFDZixRQUFNLE1BQU0sQ0FBQ0QsVUFBdUI7QUFDbEMsVUFBTSxRQUFRLE9BQU8sS0FBS0EsT0FBTSxNQUFNO0FBQ3RDLFdBQU8sS0FBSyxLQUFLO0FBQ2pCLElBQUFDLFNBQVEsTUFBTTtBQUNkLFVBQU0sS0FBS0QsS0FBSTtBQUFBLEVBQ2pCO0FBQ0EsYUFBVyxFQUFFLE1BQU0sVUFBVSxNQUFNLFFBQVEsS0FBSyxPQUFPO0FBQ3JELFVBQU1FLFFBQU8sYUFBYSxTQUFZLEtBQUssZUFBZSxXQUFXLFFBQVEsQ0FBQztBQUM5RSxRQUFJLEtBQUssUUFBUTtBQUFBLHdDQUE2QyxXQUFXLElBQUksQ0FBQyxJQUFJQSxLQUFJO0FBQUEsQ0FBTTtBQUM1RixRQUFJLFNBQVMsU0FBWSxTQUFTLGlCQUFpQixJQUFJO0FBQUE7QUFBQSxDQUFVO0FBQ2pFLFFBQUksV0FBVyxTQUFTO0FBQ3RCLGFBQU8sS0FBSyxRQUFRLEtBQUs7QUFDekIsTUFBQUQsU0FBUSxRQUFRLE1BQU07QUFDdEIsWUFBTSxLQUFLLFFBQVEsS0FBSztBQUFBLElBQzFCLE9BQU87QUFDTCxZQUFNLE1BQU1FLFVBQVMsUUFBUSxJQUFJLEVBQUU7QUFDbkMsYUFBTyxLQUFLLEVBQUUsTUFBTSxRQUFRLEtBQUssQ0FBQztBQUNsQyxNQUFBRixTQUFRO0FBQ1IsaUJBQVc7QUFDWCxZQUFNLEtBQUssSUFBSSxTQUFTLEdBQUcsQ0FBQyxPQUFPLFFBQVEsS0FBSyxHQUFHO0FBQUEsSUFDckQ7QUFDQSxRQUFJLE1BQU07QUFBQSxFQUNaO0FBQ0EsTUFBSSxLQUFLLFFBQVE7QUFBQSxDQUFRO0FBQ3pCLFFBQU0sUUFBUSxXQUFXLElBQUksV0FBVyxJQUFJLE9BQU8sT0FBTyxNQUFrQjtBQUM1RSxTQUFPO0FBQUEsSUFDTCxPQUFPO0FBQUEsSUFDUCxHQUFJLFlBQVk7QUFBQSxNQUNkLFVBQVU7QUFBQSxRQUNSLE1BQUFBO0FBQUEsUUFDQSxNQUFNLE1BQU0sU0FBUyxLQUFLLFFBQVEsTUFBTSxHQUFHLEVBQUUsWUFBWSxNQUFNLENBQUM7QUFBQSxRQUNoRSxRQUFRLE1BQU0sVUFBVSxNQUFNO0FBQUEsTUFDaEM7QUFBQSxJQUNGO0FBQUEsSUFDQSxNQUFNLGlDQUFpQyxRQUFRO0FBQUEsSUFDL0MsT0FBTyxNQUFNLEtBQUssRUFBRTtBQUFBLElBQ3BCLFFBQVE7QUFBQSxFQUNWO0FBQ0Y7QUFFQSxnQkFBZ0IsUUFBUSxRQUFxRjtBQUMzRyxhQUFXLFNBQVMsUUFBUTtBQUMxQixRQUFJLFVBQVUsTUFBTyxRQUFPRyxrQkFBaUIsTUFBTSxJQUFJO0FBQUEsUUFDbEQsT0FBTTtBQUFBLEVBQ2I7QUFDRjtBQUVBLFVBQVUsVUFBVSxRQUFnRjtBQUNsRyxhQUFXLFNBQVMsUUFBUTtBQUMxQixRQUFJLFVBQVUsTUFBTyxRQUFPLFdBQVcsTUFBTSxJQUFJO0FBQUEsUUFDNUMsT0FBTTtBQUFBLEVBQ2I7QUFDRjtBQUdBLElBQU0sYUFBYSxDQUFDLFNBQ2xCLEtBQUssV0FBVyxLQUFLLEtBQUssRUFBRSxXQUFXLE1BQU0sS0FBSyxFQUFFLFdBQVcsTUFBTSxLQUFLOzs7QUR6TXJFLElBQU0sVUFBb0I7QUFBQSxFQUMvQixNQUFNO0FBQUEsRUFDTixPQUFPO0FBQUEsRUFDUCxRQUFRLE1BQU0sU0FBUztBQUNyQixVQUFNLEVBQUUsWUFBWSxDQUFDLEdBQUcsVUFBVSxJQUFJO0FBQ3RDLFVBQU0sV0FBVyxXQUFZLEtBQThCLFVBQVUsT0FBTztBQUM1RSxVQUFNLEVBQUUsT0FBTyxPQUFPLE9BQU8sSUFBSTtBQUNqQyxVQUFNLE9BQU8sWUFBWSxXQUFXLENBQUMsU0FBUyxNQUFNLENBQUMsYUFBYSxHQUFHLElBQUksQ0FBQyxHQUFHLEtBQUs7QUFDbEYsV0FBTyxDQUFDLGVBQWU7QUFDckIsWUFBTSxRQUFxQixFQUFFLE1BQU0sQ0FBQyxHQUFHLFFBQVEsQ0FBQyxFQUFFO0FBQ2xELFlBQU0sUUFBUSxLQUFLLFNBQVMsWUFBWSxLQUFLO0FBQzdDLFlBQU0sUUFBUSxVQUFVLFVBQVUsQ0FBQyxJQUFJO0FBQ3ZDLFlBQU0sT0FBYSxFQUFFLFVBQVUsV0FBVyxXQUFXLE9BQU8sUUFBUSxNQUFNLE9BQU87QUFDakYsWUFBTSxRQUFrQixDQUFDO0FBQ3pCLFlBQU0sT0FBTyxVQUFVLE9BQU8sYUFBYSxPQUFPLFVBQVU7QUFDNUQsVUFBSSxXQUFXLFNBQVMsTUFBTSxTQUFTLEdBQUc7QUFDeEMsY0FBTSxJQUFJLFFBQVEsY0FBYztBQUFBLFVBQzlCLE1BQU07QUFBQSxVQUNOLE9BQU8sTUFBTSxDQUFDLFdBQVcsQ0FBQztBQUFBLFVBQzFCLFFBQVE7QUFBQSxRQUNWLENBQUM7QUFBQSxNQUNIO0FBQ0EsVUFBSSxXQUFXLE1BQU8sUUFBTyxhQUFhLElBQUk7QUFDOUMsYUFBTyxNQUFNLFNBQVMsSUFBSSxRQUFRLEVBQUUsR0FBRyxNQUFNLFdBQVcsS0FBSyxHQUFHLEtBQUssSUFBSSxPQUFPLElBQUk7QUFBQSxJQUN0RjtBQUFBLEVBQ0Y7QUFDRjtBQVNBLFNBQVMsV0FBVyxPQUFlLEVBQUUsT0FBTyxLQUFLLEdBQXdCO0FBQ3ZFLE1BQUk7QUFDSixNQUFJO0FBQ0YsZUFBVyxnQkFBZ0IsT0FBTyxJQUFJO0FBQUEsRUFDeEMsU0FBUyxPQUFPO0FBQ2QsVUFBTSxpQkFBaUIsVUFBVSxNQUFNLEdBQUcsTUFBTSxDQUFDLFVBQVUsQ0FBQyxDQUFDLElBQUk7QUFBQSxFQUNuRTtBQUNBLE1BQUksU0FBUyxTQUFTLElBQUksR0FBRztBQUMzQixVQUFNLElBQUksUUFBUSxjQUFjO0FBQUEsTUFDOUIsTUFBTTtBQUFBLE1BQ04sT0FBTyxNQUFNLENBQUMsVUFBVSxDQUFDO0FBQUEsTUFDekIsUUFBUTtBQUFBLElBQ1YsQ0FBQztBQUFBLEVBQ0g7QUFDQSxTQUFPO0FBQ1Q7QUFFQSxJQUFNLGVBQWUsQ0FBQyxjQUE4QixXQUFXLFNBQVMsS0FBSyxPQUFPLEtBQUssU0FBUyxFQUFFLFNBQVM7QUFFN0csU0FBUyxlQUFlLEVBQUUsVUFBVSxVQUFVLEdBQVMsV0FBMEI7QUFDL0UsU0FBTyxVQUFVO0FBQUEsSUFDZixPQUFPO0FBQUEsSUFDUCxHQUFJLGFBQWEsU0FBUyxLQUFLLEVBQUUsVUFBVTtBQUFBLElBQzNDLEdBQUksY0FBYyxVQUFhLEVBQUUsZUFBZSxVQUFVO0FBQUEsRUFDNUQsQ0FBQztBQUNIO0FBRUEsU0FBUyxPQUFPLE1BQXNCO0FBQ3BDLFFBQU1DLFFBQU8sZUFBZSxNQUFNLEtBQUssU0FBUztBQUNoRCxRQUFNLFNBQVMsS0FBSyxPQUFPLFNBQVM7QUFDcEMsUUFBTSxRQUFRLFNBQVMsZUFBZSxNQUFNLFdBQVcsS0FBSyxXQUFXLEtBQUssUUFBUSxNQUFNLENBQUMsSUFBSUE7QUFDL0YsU0FBTyxFQUFFLE9BQU8sT0FBTyxLQUFLQSxPQUFNLE1BQU0sR0FBRyxNQUFNLG9CQUFvQixPQUFPLE9BQU87QUFDckY7QUFFQSxTQUFTLGFBQWEsRUFBRSxVQUFVLFdBQVcsV0FBVyxPQUFPLEdBQW1CO0FBQ2hGLFFBQU0sT0FBTyxPQUFPLFNBQVM7QUFDN0IsU0FBTztBQUFBLElBQ0wsT0FBTyxJQUFJLFdBQVc7QUFBQSxJQUN0QixNQUFNO0FBQUEsSUFDTixPQUFPO0FBQUEsSUFDUCxRQUFRO0FBQUEsSUFDUixTQUFTO0FBQUEsTUFDUCxFQUFFLE1BQU0sU0FBUyxPQUFPLFVBQVUsUUFBUSxNQUFNO0FBQUEsTUFDaEQsR0FBSSxhQUFhLFNBQVMsSUFBSSxDQUFDLEVBQUUsTUFBTSxhQUFhLE9BQU8sVUFBVSxTQUFTLEdBQUcsUUFBUSxLQUFLLENBQUMsSUFBSSxDQUFDO0FBQUEsTUFDcEcsR0FBSSxjQUFjLFNBQVksQ0FBQyxJQUFJLENBQUMsRUFBRSxNQUFNLGlCQUFpQixPQUFPLFdBQVcsUUFBUSxNQUFNLENBQUM7QUFBQSxJQUNoRztBQUFBLEVBQ0Y7QUFDRjtBQVVBLFNBQVMsVUFBVSxPQUFjLElBQVksT0FBaUIsWUFBK0I7QUFDM0YsTUFBSSxNQUFNLFFBQVEsS0FBSztBQUNyQixXQUFPLE1BQU0sSUFBSSxDQUFDLE1BQWEsVUFBVSxVQUFVLE1BQU0sR0FBRyxFQUFFLElBQUksS0FBSyxJQUFJLE9BQU8sVUFBVSxDQUFDO0FBQy9GLE1BQUksQ0FBQyxXQUFXLEtBQUssRUFBRyxRQUFPO0FBQy9CLFFBQU0sT0FBTyxPQUFPLEtBQUssS0FBSztBQUM5QixNQUFJLEtBQUssV0FBVyxLQUFLLEtBQUssQ0FBQyxNQUFNLFVBQVU7QUFDN0MsVUFBTSxRQUFRLE9BQU8sTUFBTSxNQUFlO0FBQzFDLFVBQU0sS0FBSyxFQUFFLElBQUksT0FBTyxNQUFNLFdBQVcsTUFBTSxLQUFLLEtBQUssRUFBRSxDQUFDO0FBQzVELFdBQU87QUFBQSxFQUNUO0FBQ0EsU0FBTyxPQUFPO0FBQUEsSUFDWixPQUFPLFFBQVEsS0FBSyxFQUFFLElBQUksQ0FBQyxDQUFDLEtBQUssS0FBSyxNQUFNLENBQUMsS0FBSyxVQUFVLE9BQU8sR0FBRyxFQUFFLElBQUksR0FBRyxJQUFJLE9BQU8sVUFBVSxDQUFDLENBQUM7QUFBQSxFQUN4RztBQUNGO0FBRUEsU0FBUyxRQUFRLE1BQVksT0FBb0M7QUFDL0QsUUFBTUEsUUFBTyxlQUFlLE1BQU0sS0FBSyxTQUFTO0FBQ2hELFFBQU0sUUFBUSxLQUFLLE9BQU8sU0FBUyxJQUFJLGVBQWUsTUFBTSxXQUFXLEtBQUssV0FBVyxLQUFLLFFBQVEsTUFBTSxDQUFDLElBQUlBO0FBQy9HLFFBQU0sTUFBTSxLQUFLLFVBQVUsT0FBTyxZQUFZLE1BQU0sSUFBSSxDQUFDLEVBQUUsR0FBRyxHQUFHLFVBQVUsQ0FBQyxPQUFPLFFBQVEsQ0FBQyxHQUFHLENBQUMsRUFBRSxDQUFDLENBQUMsQ0FBQyxDQUFDO0FBQ3RHLFFBQU1DLFNBQVEsQ0FBQyxNQUFjLFNBQWlCLGFBQTJCO0FBQUEsSUFDdkU7QUFBQSxJQUNBLFVBQVU7QUFBQSxJQUNWLE1BQU07QUFBQSxJQUNOLFNBQVMsRUFBRSxPQUFPLE9BQU8sS0FBSyxPQUFPLEdBQUcsT0FBTyxRQUFRO0FBQUEsRUFDekQ7QUFDQSxTQUFPO0FBQUEsSUFDTCxHQUFHLFVBQVU7QUFBQSxNQUNYQSxPQUFNLGNBQWNELE9BQU0sS0FBSztBQUFBLE1BQy9CQyxPQUFNLE9BQU8sS0FBSyxHQUFHO0FBQUEsTUFDckIsR0FBRyxNQUFNO0FBQUEsUUFDUCxDQUFDLEVBQUUsT0FBTyxLQUFLLEdBQUcsV0FBaUI7QUFBQSxVQUNqQyxNQUFNLE9BQU8sUUFBUSxDQUFDO0FBQUEsVUFDdEIsVUFBVUMsVUFBUyxLQUFLO0FBQUEsVUFDeEIsTUFBTSxZQUFZLEtBQUs7QUFBQSxVQUN2QixTQUFTLEVBQUUsTUFBTSxNQUFNO0FBQUEsUUFDekI7QUFBQSxNQUNGO0FBQUEsSUFDRixDQUFDO0FBQUEsSUFDRCxRQUFRLEtBQUssT0FBTyxTQUFTO0FBQUEsRUFDL0I7QUFDRjs7O0FJL0lPLElBQU0sT0FBaUI7QUFBQSxFQUM1QixNQUFNO0FBQUEsRUFDTixPQUFPO0FBQUEsRUFDUCxRQUFRLE1BQU0sRUFBRSxPQUFPLE1BQU0sR0FBRztBQUM5QixVQUFNLE9BQU8sWUFBWSxNQUFNLE9BQU8sS0FBSztBQUMzQyxXQUFPLENBQUMsZUFBZTtBQUNyQixZQUFNLFFBQXFCLEVBQUUsTUFBTSxDQUFDLEdBQUcsUUFBUSxDQUFDLEVBQUU7QUFDbEQsWUFBTSxRQUFRLEtBQUssU0FBUyxZQUFZLEtBQUs7QUFDN0MsVUFBSSxVQUFVLFFBQVMsUUFBTztBQUM5QixZQUFNQyxRQUFPLFVBQVUsS0FBSztBQUM1QixZQUFNLFNBQVMsTUFBTSxPQUFPLFNBQVM7QUFDckMsYUFBTztBQUFBLFFBQ0wsT0FBTyxPQUFPLEtBQUtBLE9BQU0sTUFBTTtBQUFBLFFBQy9CLE1BQU07QUFBQSxRQUNOLE9BQU8sU0FBUyxVQUFVLFdBQVcsT0FBTyxNQUFNLFFBQVEsTUFBTSxDQUFDLElBQUlBO0FBQUEsUUFDckU7QUFBQSxNQUNGO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFDRjs7O0FDbEJPLElBQU0sT0FBaUI7QUFBQSxFQUM1QixNQUFNO0FBQUEsRUFDTixPQUFPO0FBQUEsRUFDUCxRQUFRLE1BQU0sU0FBUztBQUNyQixVQUFNLEVBQUUsVUFBVSxVQUFVLE9BQU8sT0FBTyxJQUFJO0FBQzlDLFVBQU1DLFFBQU8sV0FBVyxVQUFVLE9BQU87QUFFekMsVUFBTSxTQUFTLEtBQUssVUFBVSxJQUFJLFFBQVEsVUFBVSxFQUFFLENBQUM7QUFDdkQsUUFBSSxZQUFZLE9BQU87QUFDckIsWUFBTSxZQUFZLFdBQVcsU0FBWSxLQUFLLFlBQVksTUFBTTtBQUNoRSxhQUFPLENBQUMsZ0JBQWdCLEVBQUUsR0FBR0EsTUFBSyxVQUFVLEdBQUcsTUFBTSxzQ0FBc0MsU0FBUyxHQUFHO0FBQUEsSUFDekc7QUFDQSxVQUFNLFVBQVUsQ0FBQyxFQUFFLE1BQU0sY0FBYyxPQUFPLE9BQU8sQ0FBQztBQUN0RCxXQUFPLENBQUMsZ0JBQWdCLEVBQUUsR0FBR0EsTUFBSyxVQUFVLEdBQUcsTUFBTSwyQkFBMkIsUUFBUTtBQUFBLEVBQzFGO0FBQ0Y7QUFHQSxTQUFTLFdBQVcsVUFBaUIsU0FBMkQ7QUFDOUYsUUFBTSxFQUFFLE1BQU0sSUFBSTtBQUNsQixRQUFNLE1BQU0sRUFBRSxHQUFHLFNBQVMsT0FBTyxNQUFNLE1BQU0sQ0FBQyxVQUFVLENBQUMsRUFBRTtBQUMzRCxNQUFJLE9BQU8sYUFBYSxZQUFZLENBQUMsbUJBQW1CLEtBQUssU0FBUyxLQUFLLENBQUMsRUFBRyxRQUFPLFdBQVcsVUFBVSxHQUFHO0FBQzlHLFFBQU1DLFFBQU8sb0JBQW9CLFNBQVMsS0FBSyxHQUFHLEdBQUc7QUFDckQsU0FBTyxDQUFDLGVBQWVBLE1BQUssVUFBVTtBQUN4Qzs7O0FDekJPLElBQU0sT0FBaUI7QUFBQSxFQUM1QixNQUFNO0FBQUEsRUFDTixPQUFPO0FBQUEsRUFDUCxRQUFRLE1BQU0sRUFBRSxPQUFPLE1BQU0sR0FBRztBQUM5QixVQUFNQyxZQUFXLGdCQUFnQixNQUFNLE1BQU0sQ0FBQyxDQUFDLEdBQUcsS0FBSztBQUN2RCxXQUFPLENBQUMsZUFBZTtBQUNyQixZQUFNLENBQUMsT0FBTyxNQUFNLElBQUksV0FBVyxPQUFPLE1BQU1BLFVBQVMsU0FBUyxVQUFVLENBQUM7QUFDN0UsVUFBSSxVQUFVLFFBQVMsUUFBTztBQUM5QixZQUFNLE9BQU8sT0FBTyxLQUFLO0FBQ3pCLGFBQU87QUFBQSxRQUNMLE9BQU8sT0FBTyxLQUFLLE1BQU0sTUFBTTtBQUFBLFFBQy9CLE1BQU07QUFBQSxRQUNOLE9BQU8sU0FBUyxTQUFTO0FBQUEsUUFDekI7QUFBQSxNQUNGO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFDRjs7O0FDWk8sSUFBTSxZQUEyQyxJQUFJO0FBQUEsRUFDMUQsQ0FBQyxNQUFNLE1BQU0sTUFBTSxPQUFPLEtBQUssU0FBUyxNQUFNLE1BQU0sUUFBUSxFQUFFLElBQUksQ0FBQyxTQUFTLENBQUMsS0FBSyxNQUFNLElBQUksQ0FBQztBQUMvRjs7O0Faa0RPLFNBQVMsWUFBWSxZQUF3QixRQUE2QixPQUEyQjtBQUMxRyxRQUFNLEVBQUUsU0FBUyxNQUFNLEtBQUssSUFBSTtBQUNoQyxRQUFNLFNBQWtCO0FBQUEsSUFDdEIsR0FBRyxXQUNBLFNBQVMsSUFBSSxFQUNiLElBQUksQ0FBQyxjQUFjLEVBQUUsU0FBUyxTQUFTLFNBQVMsTUFBTSxTQUFTLE1BQU0sUUFBUSxTQUFTLEtBQUssS0FBSyxFQUFFO0FBQUEsSUFDckcsRUFBRSxTQUFTLE1BQU0sUUFBUSxXQUFXLElBQUksR0FBRztBQUFBLEVBQzdDO0FBQ0EsUUFBTSxVQUFVLENBQThCLFFBQzVDLE9BQU8sT0FBbUMsQ0FBQyxPQUFPLFVBQVUsTUFBTSxRQUFRLEdBQUcsS0FBSyxPQUFPLE1BQVM7QUFDcEcsUUFBTSxVQUFVLFFBQVEsVUFBVSxPQUFPLFlBQVk7QUFDckQsUUFBTSxNQUFNLFFBQVE7QUFDcEIsUUFBTSxRQUFRLENBQUMsU0FBcUQsS0FBSyxTQUFTLElBQUk7QUFDdEYsUUFBTSxVQUFVLFFBQVEsU0FBUyxLQUFLO0FBQ3RDLFFBQU0sWUFBWSxRQUFRLFdBQVcsS0FBSztBQUMxQyxRQUFNLFVBQVUsYUFBYSxXQUFXLFFBQVEsT0FBTyxDQUFDLFFBQVEsSUFBSSxZQUFZLENBQUM7QUFDakYsUUFBTSxPQUFPLENBQUMsU0FBeUIsYUFBYSxXQUFXLFdBQVcsTUFBTSxJQUFJLEdBQUcsTUFBTTtBQUM3RixTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0EsU0FBUztBQUFBLE1BQ1AsR0FBRztBQUFBLE1BQ0gsT0FBTyxRQUFRLE9BQU87QUFBQSxNQUN0QixXQUFXLFFBQVEsV0FBVztBQUFBLE1BQzlCLFFBQVEsT0FBTyxPQUFPLENBQUMsR0FBRyxHQUFHLE9BQU8sSUFBSSxDQUFDLFVBQVUsTUFBTSxRQUFRLFVBQVUsQ0FBQyxDQUFDLENBQUM7QUFBQSxNQUM5RSxZQUFZLE9BQU8sT0FBTyxDQUFDLEdBQUcsR0FBRyxPQUFPLElBQUksQ0FBQyxVQUFVLE1BQU0sUUFBUSxjQUFjLENBQUMsQ0FBQyxDQUFDO0FBQUEsSUFDeEY7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0EsUUFBUSxXQUFXLFFBQVEsUUFBUSxRQUFRLFdBQVcsSUFBSSxJQUFJLEtBQUs7QUFBQSxJQUNuRSxVQUFVLFlBQVksU0FBUyxDQUFDLElBQUksQ0FBQyxPQUFPLEVBQUUsS0FBSztBQUFBLElBQ25ELFdBQVcsY0FBYyxTQUFTLFNBQVk7QUFBQSxJQUM5QyxTQUFTLGVBQWUsS0FBSyxNQUFNLENBQUMsS0FBSyxDQUFDLEdBQUcsS0FBSztBQUFBLElBQ2xELE1BQU0sSUFBSTtBQUFBLE1BQ1IsT0FBTyxRQUFRLFFBQVEsUUFBUSxDQUFDLENBQUMsRUFBRSxJQUFJLENBQUMsQ0FBQyxLQUFLLEtBQUssTUFBTTtBQUFBLFFBQ3ZEO0FBQUEsUUFDQSxZQUFZLE9BQU8sQ0FBQyxVQUFVLE1BQU0sQ0FBQyxRQUFRLEtBQUssR0FBRyxLQUFLLENBQUMsR0FBRyxLQUFLO0FBQUEsTUFDckUsQ0FBQztBQUFBLElBQ0g7QUFBQSxJQUNBLE9BQU8sYUFBYSxTQUFTLFFBQVEsT0FBTyxDQUFDLFFBQVEsR0FBRztBQUFBLElBQ3hEO0FBQUEsSUFDQSxTQUFTLElBQUk7QUFBQSxNQUNYLE9BQU8sUUFBUSxRQUFRLFdBQVcsQ0FBQyxDQUFDLEVBQUUsSUFBSSxDQUFDLENBQUMsS0FBSyxLQUFLLE1BQU07QUFBQSxRQUMxRDtBQUFBLFFBQ0EsWUFBWSxPQUFPLENBQUMsVUFBVSxNQUFNLENBQUMsV0FBVyxLQUFLLEdBQUcsS0FBSyxDQUFDLEdBQUcsS0FBSztBQUFBLE1BQ3hFLENBQUM7QUFBQSxJQUNIO0FBQUEsSUFDQSxjQUFjLFFBQVEsTUFBTSxDQUFDLEVBQUUsTUFBTSxNQUFNLEtBQUssSUFBSSxRQUFRLFFBQVEsQ0FBQyxFQUFFLE1BQU0sTUFBTSxTQUFTLENBQUMsQ0FBQyxJQUFJO0FBQUEsSUFDbEcsTUFDRSxRQUFRLFNBQVMsU0FDYixTQUNBLFNBQVMsUUFBUSxNQUFNO0FBQUEsTUFDckI7QUFBQSxNQUNBO0FBQUEsTUFDQTtBQUFBLE1BQ0E7QUFBQSxJQUNGLENBQUM7QUFBQSxJQUNQLFNBQVMsUUFBUSxXQUFXLFVBQVUsUUFBUSxRQUFRLE1BQU0sSUFBSTtBQUFBLElBQ2hFLFNBQVMsVUFBVSxRQUFRLFNBQVMsQ0FBQztBQUFBLElBQ3JDLE9BQU8sT0FBTztBQUFBLE1BQ1osQ0FBQyxPQUFPLFVBQVcsTUFBTSxRQUFRLFVBQVUsU0FBWSxRQUFRLEVBQUUsTUFBTSxNQUFNLFFBQVEsT0FBTyxNQUFNLE1BQU0sS0FBSztBQUFBLE1BQzdHO0FBQUEsSUFDRjtBQUFBLElBQ0EsZ0JBQWdCLFFBQVEsUUFBUSxpQkFBaUIsR0FBRyxPQUFPLEtBQUs7QUFBQSxFQUNsRTtBQUNGO0FBR0EsU0FBUyxRQUNQLE9BQ0EsT0FDQSxPQUMrQjtBQUMvQixNQUFJLFVBQVUsT0FBVyxRQUFPO0FBQ2hDLFFBQU0sRUFBRSxTQUFTLG1CQUFtQixRQUFRLFVBQVUsSUFDcEQsVUFBVSxPQUFPLENBQUMsSUFBSSxPQUFPLFVBQVUsV0FBVyxFQUFFLE9BQU8sTUFBTSxJQUFJO0FBQ3ZFLGNBQVksUUFBUSxRQUFXLE1BQU0sQ0FBQyxtQkFBbUIsUUFBUSxDQUFDLENBQUM7QUFDbkUsU0FBTyxFQUFFLFFBQVEsTUFBTSxZQUFZLE9BQU8sTUFBTSxNQUFNLENBQUMsaUJBQWlCLENBQUMsR0FBRyxLQUFLLEVBQUU7QUFDckY7QUFHQSxTQUFTLFVBQVUsUUFBZ0JDLE9BQTJCLE1BQXlDO0FBQ3JHLE1BQUlBLFNBQVEsYUFBYUEsT0FBTTtBQUM3QixVQUFNLEVBQUUsVUFBVSxVQUFVLElBQUlBLE1BQUs7QUFDckMsVUFBTSxPQUFPLGNBQWMsZ0JBQWdCLFVBQVUsSUFBSSxHQUFHLFNBQVM7QUFDckUsUUFBSSxTQUFTLE9BQVcsUUFBTyxTQUFTO0FBQUEsRUFDMUM7QUFDQSxTQUFPLENBQUMsWUFBWSxJQUFJLE1BQU07QUFDaEM7QUFHQSxTQUFTLGFBQ1AsS0FDQSxRQUNBLE9BQ0EsTUFDZ0I7QUFDaEIsUUFBTSxTQUFTLG9CQUFJLElBQTBCO0FBQzdDLGFBQVcsRUFBRSxTQUFTLE1BQU0sT0FBTyxLQUFLLFFBQVE7QUFDOUMsZUFBVyxDQUFDLE1BQU0sS0FBSyxLQUFLLE9BQU8sUUFBUSxRQUFRLEdBQUcsS0FBSyxDQUFDLENBQUMsR0FBRztBQUM5RCxVQUFJLFFBQVEsVUFBVyxhQUFZLE1BQU0sUUFBVyxLQUFLLFNBQVMsQ0FBQyxLQUFLLElBQUksR0FBRyxLQUFLLENBQUM7QUFDckYsWUFBTSxPQUFPLFlBQVksT0FBTyxDQUFDLFNBQVMsS0FBSyxTQUFTLENBQUMsS0FBSyxNQUFNLEdBQUcsSUFBSSxDQUFDLEdBQUcsS0FBSztBQUNwRixZQUFNLFFBQ0osUUFBUSxhQUFhLEtBQUssYUFBYSxTQUFZLFFBQVEsTUFBTSxLQUFLLFVBQVUsUUFBUSxLQUFLLElBQUk7QUFDbkcsYUFBTyxJQUFJLEtBQUssSUFBSSxHQUFHLEVBQUUsTUFBTSxRQUFRLE1BQU0sTUFBTSxDQUFDO0FBQUEsSUFDdEQ7QUFBQSxFQUNGO0FBQ0EsU0FBTyxDQUFDLEdBQUcsT0FBTyxPQUFPLENBQUM7QUFDNUI7QUFFQSxTQUFTLFNBQVMsTUFBd0MsU0FBZ0M7QUFDeEYsUUFBTSxFQUFFLE1BQU0sSUFBSTtBQUNsQixRQUFNLENBQUMsTUFBTSxLQUFLLElBQUksT0FBTyxRQUFRLElBQUksRUFBRSxDQUFDO0FBQzVDLFFBQU0sT0FBTyxVQUFVLElBQUksSUFBSTtBQUMvQixNQUFJLENBQUMsS0FBTSxPQUFNLElBQUksUUFBUSxjQUFjLEVBQUUsTUFBTSxnQ0FBZ0MsSUFBSSxJQUFJLE9BQU8sTUFBTSxDQUFDLE1BQU0sQ0FBQyxFQUFFLENBQUM7QUFDbkgsU0FBTyxLQUFLLFFBQVEsT0FBTyxFQUFFLEdBQUcsU0FBUyxPQUFPLENBQUMsU0FBUyxNQUFNLENBQUMsUUFBUSxNQUFNLEdBQUcsSUFBSSxDQUFDLEVBQUUsQ0FBQztBQUM1RjtBQUVPLFNBQVMsVUFBVSxNQUFnRDtBQUN4RSxTQUFPO0FBQUEsSUFDTCxHQUFJLE1BQU0sWUFBWSxVQUFhLEVBQUUsU0FBUyxjQUFjLEtBQUssT0FBTyxFQUFZO0FBQUEsSUFDcEYsR0FBSSxPQUFPLFlBQVksTUFBTSxVQUFhLEVBQUUsV0FBVyxjQUFjLEtBQUssWUFBWSxDQUFDLEVBQVk7QUFBQSxJQUNuRyxHQUFJLE1BQU0sU0FBUyxVQUFhLEVBQUUsTUFBTSxjQUFjLEtBQUssSUFBSSxFQUFZO0FBQUEsSUFDM0UsR0FBSSxNQUFNLFVBQVUsVUFBYSxFQUFFLE9BQU8sY0FBYyxLQUFLLEtBQUssRUFBWTtBQUFBLEVBQ2hGO0FBQ0Y7OztBYXZMTyxJQUFNLFNBQW1CO0FBQUEsRUFDOUIsTUFBTTtBQUFBLEVBQ04sTUFBTTtBQUFBLEVBQ04sT0FBTyxDQUFDLEVBQUUsUUFBUSxLQUFLLE1BQU0sTUFBTTtBQUFBLEVBQ25DLFFBQVEsRUFBRSxRQUFRLEtBQUssR0FBRyxPQUFPO0FBQy9CLFVBQU0sRUFBRSxPQUFPLEtBQUssSUFBSTtBQUN4QixVQUFNLFFBQVEsTUFBTSxJQUFJO0FBQ3hCLFdBQU8sQ0FBQyxFQUFFLFNBQVMsTUFBTTtBQUN2QixZQUFNLFFBQVEsTUFBTSxLQUFLLFFBQVE7QUFDakMsYUFBTyxVQUFVLFVBQWEsTUFBTSxLQUFLLE1BQU0sUUFBUSxPQUFPLEtBQUssTUFBTSxLQUFLLFNBQVksRUFBRSxPQUFPLE1BQU07QUFBQSxJQUMzRztBQUFBLEVBQ0Y7QUFDRjs7O0FDWk8sSUFBTSxPQUFpQjtBQUFBLEVBQzVCLE1BQU07QUFBQSxFQUNOLE1BQU07QUFBQSxFQUNOLE9BQU8sTUFBTTtBQUFBLEVBQ2IsUUFBUSxFQUFFLE1BQU0sS0FBSyxHQUFHLEdBQUcsT0FBTztBQUNoQyxVQUFNLFFBQVEsTUFBTSxFQUFFO0FBQ3RCLFdBQU8sQ0FBQyxFQUFFLFNBQVMsTUFBTTtBQUN2QixZQUFNLFFBQVEsTUFBTSxLQUFLLFFBQVE7QUFDakMsVUFBSSxVQUFVLFVBQWEsTUFBTSxLQUFLLE1BQU0sS0FBTSxRQUFPO0FBQ3pELFlBQU1DLFFBQU8sT0FBTyxLQUFLLEVBQUUsS0FBSztBQUNoQyxVQUFJQSxVQUFTLEdBQUksUUFBTztBQUV4QixhQUFPLElBQUksU0FBU0EsT0FBTSxTQUFTLFFBQVEsSUFBSSxFQUFFLFNBQVMsSUFBSSxJQUFJQSxPQUFNLFNBQVMsUUFBUSxFQUFFLEtBQUssSUFBSTtBQUFBLElBQ3RHO0FBQUEsRUFDRjtBQUNGOzs7QUNqQk8sSUFBTSxTQUFtQjtBQUFBLEVBQzlCLE1BQU07QUFBQSxFQUNOLE1BQU07QUFBQSxFQUNOLE9BQU8sQ0FBQyxFQUFFLFFBQVEsS0FBSyxNQUFNLE1BQU07QUFBQSxFQUNuQyxRQUFRLEVBQUUsUUFBUSxLQUFLLEdBQUc7QUFDeEIsVUFBTSxFQUFFLE9BQU8sUUFBUSxFQUFFLElBQUk7QUFDN0IsV0FBTyxDQUFDLEVBQUUsTUFBTSxPQUFPLEVBQUUsT0FBTyxPQUFPLFFBQVEsTUFBTTtBQUFBLEVBQ3ZEO0FBQ0Y7OztBQ1JPLElBQU0sU0FBbUI7QUFBQSxFQUM5QixNQUFNO0FBQUEsRUFDTixNQUFNO0FBQUEsRUFDTixPQUFPLENBQUMsRUFBRSxRQUFRLEtBQUssTUFBTSxNQUFNO0FBQUEsRUFDbkMsUUFBUSxFQUFFLFFBQVEsS0FBSyxHQUFHO0FBQ3hCLFVBQU0sRUFBRSxNQUFNLElBQUk7QUFDbEIsV0FBTyxDQUFDLEVBQUUsTUFBTSxPQUFPLEVBQUUsT0FBTyxPQUFPLE1BQU07QUFBQSxFQUMvQztBQUNGOzs7QUNKTyxJQUFNLFlBQWlDLENBQUMsTUFBTSxRQUFRLFFBQVEsTUFBTTs7O0FDeUJwRSxTQUFTLFVBQVUsTUFBaUIsRUFBRSxNQUFNLFFBQVEsVUFBVSxPQUFPLFdBQVcsR0FBeUI7QUFDOUcsUUFBTSxRQUNKLENBQUMsUUFDRCxDQUFDQyxVQUF3QjtBQUN2QixRQUFJO0FBQ0YsYUFBTyxVQUFVQSxPQUFNLE9BQU8sVUFBVTtBQUFBLElBQzFDLFNBQVMsT0FBTztBQUNkLFlBQU0sVUFBVSxLQUFLLEVBQUUsR0FBRyxLQUFLLFNBQVMsQ0FBQyxTQUFTLEdBQUcsQ0FBQyxDQUFDO0FBQUEsSUFDekQ7QUFBQSxFQUNGO0FBQ0YsUUFBTSxPQUFPLFVBQVUsT0FBTyxDQUFDLEVBQUUsS0FBSyxNQUFNLEtBQUssSUFBSSxNQUFNLE1BQVM7QUFDcEUsUUFBTSxDQUFDLElBQUksSUFBSTtBQUNmLE1BQUksQ0FBQyxRQUFRLEtBQUssU0FBUyxHQUFHO0FBQzVCLFVBQU0sSUFBSSxRQUFRLGNBQWM7QUFBQSxNQUM5QixNQUFNLHlEQUF5RCxLQUFLLFdBQVcsSUFBSSxTQUFTLEtBQUssSUFBSSxDQUFDLEVBQUUsS0FBSyxNQUFNLElBQUksRUFBRSxLQUFLLE9BQU8sQ0FBQztBQUFBLE1BQ3RJLE9BQU8sS0FBSyxTQUFTLENBQUMsT0FBTyxHQUFHLEtBQUs7QUFBQSxNQUNyQyxRQUFRLFVBQVUsVUFBVSxJQUFJLENBQUMsRUFBRSxLQUFLLE1BQU0sSUFBSSxFQUFFLEtBQUssSUFBSSxDQUFDO0FBQUEsSUFDaEUsQ0FBQztBQUFBLEVBQ0g7QUFDQSxRQUFNLFFBQVEsS0FBSyxNQUFNLElBQUk7QUFDN0IsTUFBSSxVQUFVLFVBQWEsQ0FBQyxPQUFPLFNBQVMsS0FBSyxHQUFHO0FBQ2xELFVBQU0sSUFBSSxRQUFRLGNBQWM7QUFBQSxNQUM5QixNQUFNLDBDQUEwQyxLQUFLO0FBQUEsTUFDckQsT0FBTyxLQUFLLFNBQVMsQ0FBQyxTQUFTLEtBQUssTUFBTSxPQUFPLENBQUM7QUFBQSxNQUNsRCxRQUFRLHdCQUF3QixLQUFLLG9DQUErQixLQUFLO0FBQUEsSUFDM0UsQ0FBQztBQUFBLEVBQ0g7QUFDQSxTQUFPO0FBQUEsSUFDTCxPQUFPLE1BQU0sT0FBTyxFQUFFLEtBQUssS0FBSztBQUFBLElBQ2hDLE9BQU8sS0FBSyxVQUFVLFNBQVksU0FBWSxNQUFNLE9BQU8sRUFBRSxLQUFLLEtBQUs7QUFBQSxJQUN2RSxXQUFXLG9CQUFvQixLQUFLLE9BQU8sTUFBTSxDQUFDLFNBQVMsT0FBTyxHQUFHLFVBQVUsT0FBTyxVQUFVO0FBQUEsSUFDaEcsTUFBTSxLQUFLO0FBQUEsSUFDWCxNQUFNLEtBQUssUUFBUTtBQUFBLElBQ25CLE1BQU0sS0FBSztBQUFBLElBQ1gsTUFBTSxLQUFLLFFBQVEsTUFBTSxNQUFNLEtBQUssSUFBSSxDQUFDO0FBQUEsRUFDM0M7QUFDRjs7O0FDdkNBLGVBQXNCLGVBQ3BCLFlBQ0EsTUFDQSxVQUNBLFFBQzBCO0FBQzFCLFFBQU0sU0FBUyxXQUFXLEtBQUssV0FBVyxJQUFJO0FBQzlDLFFBQU0sUUFBZSxDQUFDO0FBQ3RCLFFBQU0sT0FBTyxZQUFZLFlBQVksUUFBUSxLQUFLO0FBQ2xELFFBQU0sRUFBRSxRQUFRLE1BQU0sV0FBVyxJQUFJLEtBQUs7QUFFMUMsUUFBTSxVQUNKLEtBQUssY0FBYyxTQUNmLFNBQ0EsTUFBTSxPQUFPLEtBQUssU0FBUyxFQUFFLE1BQU0sQ0FBQyxVQUFtQjtBQUNyRCxVQUFNLFVBQVUsS0FBSyxFQUFFLEdBQUcsT0FBTyxLQUFLLFNBQVMsQ0FBQyxXQUFXLENBQUMsQ0FBQztBQUFBLEVBQy9ELENBQUM7QUFDUCxRQUFNLFFBQVE7QUFBQSxJQUNaO0FBQUEsSUFDQSxRQUFRO0FBQUEsSUFDUixjQUFjLG9CQUFvQixRQUFRLE9BQU8sTUFBTSxDQUFDLFFBQVEsR0FBRyxVQUFVLE9BQU8sVUFBVTtBQUFBLElBQzlGLE9BQU8sYUFBYSxNQUFNLE9BQU8sTUFBTSxDQUFDLE1BQU0sR0FBRyxPQUFPLFVBQVU7QUFBQSxJQUNsRSxPQUFPLEtBQUssU0FBUztBQUFBLE1BQ25CLFFBQVEsWUFBWSxLQUFLLE1BQU0sTUFBTSxLQUFLLE1BQU0sTUFBTSxVQUFVLE9BQU8sVUFBVTtBQUFBLElBQ25GO0FBQUEsSUFDQSxPQUNFLEtBQUssUUFBUSxTQUNiLFVBQVUsS0FBSyxRQUFRLE9BQU87QUFBQSxNQUM1QixNQUFNLE9BQU87QUFBQSxNQUNiLFFBQVEsS0FBSyxPQUFPLElBQUksQ0FBQyxVQUFVLE1BQU0sSUFBSTtBQUFBLE1BQzdDO0FBQUEsTUFDQTtBQUFBLE1BQ0E7QUFBQSxJQUNGLENBQUM7QUFBQSxJQUNILFFBQVEsWUFBWSxZQUFZLE1BQU0sS0FBSztBQUFBLEVBQzdDO0FBQ0EsUUFBTSxRQUFRLElBQUksS0FBSztBQUN2QixTQUFPO0FBQ1Q7QUFHTyxJQUFNLGVBQWUsQ0FBQyxVQUF3QztBQUFBLEVBQ25FO0FBQUEsRUFDQSxjQUFjLENBQUM7QUFBQSxFQUNmLE9BQU8sQ0FBQztBQUFBLEVBQ1IsT0FBTztBQUFBLEVBQ1AsT0FBTztBQUFBLEVBQ1AsUUFBUTtBQUFBLEVBQ1IsUUFBUSxDQUFDO0FBQ1g7QUFHQSxlQUFzQixjQUFjLFlBQXdCLE1BQStCO0FBQ3pGLFFBQU0sRUFBRSxTQUFTLEtBQUssSUFBSSxXQUFXLEtBQUssYUFBYSxJQUFJO0FBQzNELFFBQU0sRUFBRSxpQkFBaUIsSUFBSSxNQUFNLE9BQU8sd0JBQTBCO0FBQ3BFLFFBQU0sUUFBZSxDQUFDO0FBQ3RCLFFBQU0sU0FBUyxpQkFBaUIsU0FBUyxFQUFFLE1BQU0sTUFBTSxNQUFNLENBQUM7QUFDOUQsUUFBTSxRQUFRLElBQUksS0FBSztBQUN2QixTQUFPO0FBQ1Q7QUFHQSxTQUFTLFlBQVksWUFBd0IsU0FBaUIsT0FBdUI7QUFDbkYsU0FBTyxXQUFXLE1BQU0sU0FBUyxFQUFFLFFBQVEsQ0FBQyxTQUFTO0FBQ25ELFFBQUk7QUFDRixZQUFNLEVBQUUsUUFBUSxJQUFJLFdBQVcsS0FBSyxXQUFXLElBQUk7QUFDbkQsVUFBSSxRQUFRLFNBQVMsV0FBVyxRQUFRLFVBQVUsVUFBYSxFQUFFLFVBQVUsUUFBUSxNQUFPLFFBQU8sQ0FBQztBQUNsRyxhQUFPLFdBQVcsUUFBUSxXQUFXLFFBQVEsS0FBSyxJQUFJLE1BQU0sVUFBVSxDQUFDLFVBQVUsUUFBUSxPQUFPLEtBQUssQ0FBQyxJQUFJLENBQUM7QUFBQSxJQUM3RyxRQUFRO0FBQ04sYUFBTyxDQUFDO0FBQUEsSUFDVjtBQUFBLEVBQ0YsQ0FBQztBQUNIOyIsCiAgIm5hbWVzIjogWyJmaWxlIiwgInRlbXBsYXRlIiwgInNpemUiLCAiYmFzZW5hbWUiLCAiY3JlYXRlUmVhZFN0cmVhbSIsICJzdGF0U3luYyIsICJ0ZXh0IiwgInRlbXBsYXRlIiwgInRleHQiLCAiZmlsZSIsICJ4bWwiLCAicGxhaW4iLCAiYm9keSIsICJ0ZW1wbGF0ZSIsICJ0ZXh0IiwgInNpemUiLCAiZmlsZSIsICJzdGF0U3luYyIsICJjcmVhdGVSZWFkU3RyZWFtIiwgInRleHQiLCAiZmllbGQiLCAiYmFzZW5hbWUiLCAidGV4dCIsICJ0ZXh0IiwgImZpbGUiLCAidGVtcGxhdGUiLCAiYm9keSIsICJ0ZXh0IiwgInRleHQiXQp9Cg==
