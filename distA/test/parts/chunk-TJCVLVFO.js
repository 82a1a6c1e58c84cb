import {
  RecipeNames,
  ofQuery,
  runRecipe,
  sentMembers,
  withHeader
} from "./chunk-GXIBG2WU.js";
import {
  checkHeader
} from "./chunk-3HNS4OKH.js";
import {
  namesUsed
} from "./chunk-JTXRQ3DM.js";
import {
  hidden
} from "./chunk-KTFSZ6KS.js";
import {
  headerValue
} from "./chunk-UHUDVQF4.js";
import {
  parseDuration
} from "./chunk-IQWA53IU.js";
import {
  compileTree
} from "./chunk-6FF7OQVK.js";
import {
  compileTemplate
} from "./chunk-7JVJJYGZ.js";
import {
  filters,
  privateKey,
  publicKey
} from "./chunk-VVGKGSPN.js";
import {
  nearestHint
} from "./chunk-PACVB44P.js";
import {
  Evaluation,
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
  isValueMap
} from "./chunk-XGDOGID3.js";

// src/core/signature/order.ts
function ordered(nodes) {
  const values = new Map(nodes.filter(({ part }) => part === "value").map((node) => [node.name, node]));
  const headers = new Map(nodes.filter(({ part }) => part === "header").map((node) => [node.name.toLowerCase(), node]));
  const looksAt = (node, what, seen = /* @__PURE__ */ new Set()) => {
    if (seen.has(node)) return false;
    seen.add(node);
    return node.uses.some((use) => {
      const value = use.name === "sent" ? void 0 : values.get(use.name);
      return value ? looksAt(value, what, seen) : use.name === "sent" && changedParts(use).includes(what);
    });
  };
  const before = (use) => {
    if (use.name !== "sent") return [values.get(use.name)].filter((node) => node !== void 0);
    const [member, key] = use.keys;
    if (member === "header" && key !== void 0 && key !== "content-length")
      return [headers.get(key.toLowerCase())].filter((node) => node !== void 0);
    return changedParts(use).flatMap((what) => nodes.filter((node) => node.part === what && !looksAt(node, what)));
  };
  const order = /* @__PURE__ */ new Map();
  const visit = (node, way) => {
    if (order.has(node)) return;
    if (way.includes(node)) {
      const names = [...way.slice(way.indexOf(node)), node].map(({ name }) => name);
      throw new Problem("circle", {
        what: `${names.join(" is made from ")}: the values go in a circle`,
        where: node.where,
        remedy: 'one of them must be made without the others; only("\u2026") and except("\u2026") choose headers'
      });
    }
    const needed = /* @__PURE__ */ new Set();
    for (const use of node.uses) {
      checkMember(use);
      for (const one of before(use)) needed.add(one);
    }
    for (const one of needed) visit(one, [...way, node]);
    order.set(node, needed);
  };
  for (const node of nodes) visit(node, []);
  return order;
}
function neededFor(order, meant) {
  const needed = /* @__PURE__ */ new Set();
  for (const [node, from] of [...order].reverse()) {
    if (!needed.has(node) && !meant(node)) continue;
    needed.add(node);
    for (const one of from) needed.add(one);
  }
  return [...order.keys()].filter((node) => needed.has(node));
}
function changedParts({ keys: [member] }) {
  if (member === void 0) return ["header", "query", "body"];
  if (member === "headers" || member === "header") return ["header", "body"];
  if (member === "body") return ["body"];
  return ofQuery.has(member) ? ["query"] : [];
}
function checkMember({ name, keys: [member], where }) {
  if (name !== "sent" || member === void 0 || sentMembers.has(member)) return;
  throw new Problem("unknown-name", {
    what: `sent has no ${member}`,
    where,
    remedy: `${nearestHint(member, sentMembers.keys())}; there are ${[...sentMembers.keys()].join(", ")}`
  });
}

// src/core/signature/kinds/recipe.ts
var taken = /* @__PURE__ */ new Set(["sent", "secret", "now", "uuid", "nonce", "omit", "true", "false", "null"]);
var recipe = {
  name: "recipe",
  about: "named values over the request that is about to leave, and the headers they make",
  compile({ define = {}, headers = {}, query = {}, body = {} }, setting) {
    const { name, yaml } = setting;
    for (const one of Object.keys(define)) {
      if (!taken.has(one)) continue;
      throw new Problem("file-shape", {
        what: `a value of a recipe cannot be called ${one}: that name has a meaning of its own`,
        where: yaml.position(["define", one], "key")
      });
    }
    for (const one of Object.keys(headers)) checkHeader(one, void 0, yaml.position(["headers", one], "key"));
    const parts = [
      ["define", "value", define],
      ["query", "query", query],
      ["body", "body", body],
      ["headers", "header", headers]
    ];
    const order = ordered(
      parts.flatMap(
        ([key, part, values]) => Object.entries(values).map(([one, value]) => planned(one, part, value, [key, one], setting))
      )
    );
    const programs = [...order.keys()];
    const members = sentMembersIn(programs);
    if (programs.every(({ part }) => part === "value")) {
      throw new Problem("file-shape", {
        what: `the recipe ${name} adds nothing to a request`,
        where: { file: yaml.file },
        remedy: "headers:, query: or body: says where its values go"
      });
    }
    return {
      name,
      sign: (wire, room, only) => runRecipe(
        name,
        only ? neededFor(order, (node) => only.has(`${node.part} ${node.name}`)) : programs,
        wire,
        room,
        members
      )
    };
  }
};
function sentMembersIn(programs) {
  const uses = programs.flatMap((program) => program.uses).filter(({ name }) => name === "sent");
  if (uses.some(({ keys }) => keys.length === 0)) return void 0;
  return new Set(uses.map(({ keys: [member] }) => member));
}
function planned(name, part, value, path, { yaml, loads }) {
  return {
    name,
    part,
    where: yaml.position(path, "key"),
    uses: namesUsed(value).map((use) => ({
      name: use.name,
      keys: use.keys ?? [],
      where: yaml.position([...path, ...use.path])
    })),
    run: programOf(value, path, yaml, loads)
  };
}
function programOf(value, path, yaml, loads) {
  const compiled = (inner, at) => compileTree(inner, (below) => yaml.position([...at, ...below]), loads);
  if (!isValueMap(value) || !Array.isArray(value.lines)) {
    const tree = compiled(value, path);
    return (evaluation) => tree.evaluate(evaluation);
  }
  const lines = value.lines.map((line, index) => compiled(line ?? "", [...path, "lines", index]));
  const between = value["joined-by"] === void 0 ? "\n" : textOf(value["joined-by"]);
  return (evaluation) => joinedLines(lines, between, evaluation);
}
function joinedLines(lines, between, evaluation) {
  if (evaluation.pieces) return linesInPieces(lines, between, evaluation);
  const texts = [];
  for (const line of lines) {
    const value = line.evaluate(evaluation);
    if (value === omitted) continue;
    if (!Array.isArray(value)) texts.push(lineText(value));
    else for (const item of value) texts.push(lineText(item));
  }
  return texts.join(between);
}
function linesInPieces(lines, between, evaluation) {
  const texts = [];
  const pieces = [];
  for (const line of lines) {
    evaluation.pieces = [];
    const [value, secret] = evaluation.traced(() => line.evaluate(evaluation));
    if (value === omitted) continue;
    const own = evaluation.pieces;
    const items = (Array.isArray(value) ? value : [value]).map((item) => lineText(item));
    for (const [index, text] of items.entries()) {
      texts.push(text);
      if (texts.length > 1) pieces.push({ text: between, secret: false });
      if (secret && own.length > 1 && index === 0) pieces.push(...own);
      else pieces.push({ text, secret });
    }
  }
  evaluation.pieces = pieces;
  return texts.join(between);
}
function lineText(value) {
  if (value instanceof Uint8Array) {
    throw new Problem("expression-value", {
      what: "a line is bytes",
      remedy: "| hex or | base64 writes bytes as text; | text reads them as UTF-8"
    });
  }
  return value === null ? "" : textOf(value);
}

// src/core/signature/kinds/keyed-digest.ts
var keyedDigest = {
  name: "keyed-digest",
  about: "a keyed digest of the body, in a header",
  // It is the shortest of all recipes.
  compile: ({ algorithm, key, header, encoding = "hex", prefix = "" }, setting) => recipe.compile(
    {
      define: { key, digest: `\${sent.body | ${algorithm}(key) | ${encoding}}` },
      headers: { [header]: `${prefix}\${digest}` }
    },
    setting
  )
};

// src/core/signature/kinds/message-signature.ts
import { parseDictionary as parseDictionary4, serializeDictionary as serializeDictionary3 } from "structured-headers";

// src/core/signature/message/algorithms.ts
import { constants, createHmac, sign, timingSafeEqual, verify } from "node:crypto";
function ofKeyPair(name, hash, kinds, options = {}) {
  const demand = (kind) => {
    if (kind === void 0 || !kinds.includes(kind))
      throw new Problem("expression-value", {
        what: `${name} needs a key of the kind ${kinds.join(" or ")}, not ${kind}`
      });
  };
  return {
    name,
    sign(base, text) {
      const key = privateKey(text);
      demand(key.asymmetricKeyType);
      return sign(hash, Buffer.from(base), { key, ...options });
    },
    verify(base, text, signature) {
      const key = publicKey(text);
      demand(key.asymmetricKeyType);
      return verify(hash, Buffer.from(base), { key, ...options }, signature);
    }
  };
}
var pss = { padding: constants.RSA_PKCS1_PSS_PADDING, saltLength: 64 };
var raw = { dsaEncoding: "ieee-p1363" };
var hmac = {
  name: "hmac-sha256",
  sign: (base, key) => createHmac("sha256", sharedKey(key)).update(base).digest(),
  verify(base, key, signature) {
    const own = hmac.sign(base, key);
    return own.length === signature.length && timingSafeEqual(own, signature);
  }
};
function sharedKey(text) {
  if (!/^[A-Za-z0-9+/_-]+={0,2}$/.test(text.trim())) {
    throw new Problem("expression-value", {
      what: "the key of hmac-sha256 is no base64",
      remedy: "a key that is plain text: ${secret.NAME | base64}"
    });
  }
  return Buffer.from(text.trim(), /[-_]/.test(text) ? "base64url" : "base64");
}
var messageAlgorithms = new Map(
  [
    ofKeyPair("rsa-pss-sha512", "sha512", ["rsa", "rsa-pss"], pss),
    ofKeyPair("rsa-v1_5-sha256", "sha256", ["rsa"]),
    hmac,
    ofKeyPair("ecdsa-p256-sha256", "sha256", ["ec"], raw),
    ofKeyPair("ecdsa-p384-sha384", "sha384", ["ec"], raw),
    ofKeyPair("ed25519", null, ["ed25519"])
  ].map((algorithm) => [algorithm.name, algorithm])
);

// src/core/signature/message/base.ts
import { serializeInnerList as serializeInnerList2 } from "structured-headers";

// src/core/signature/message/components.ts
import {
  parseDictionary,
  parseItem,
  parseList,
  serializeDictionary,
  serializeInnerList,
  serializeItem,
  serializeList
} from "structured-headers";
var derived = /* @__PURE__ */ new Set([
  "@method",
  "@target-uri",
  "@authority",
  "@scheme",
  "@request-target",
  "@path",
  "@query",
  "@query-param",
  "@status"
]);
function componentFrom(spec, where) {
  const given = typeof spec === "string" ? { name: spec } : spec;
  const component = {
    name: given.name.toLowerCase(),
    sf: given.sf ?? false,
    key: given.key,
    bs: given.bs ?? false,
    tr: given.tr ?? false,
    req: given.req ?? false,
    param: given.param
  };
  const { name, sf, key, bs, param } = component;
  const wrong = (what) => new Problem("file-shape", { what, where });
  if (name.startsWith("@") && !derived.has(name))
    throw wrong(`there is no component ${name}; derived ones are ${[...derived].join(", ")}`);
  if (name === "@query-param" !== (param !== void 0))
    throw wrong(
      name === "@query-param" ? "@query-param needs param:, the name of the parameter" : "only @query-param has a param"
    );
  if (name.startsWith("@") && (sf || bs || key !== void 0)) throw wrong(`${name} takes neither sf, bs nor key`);
  if (bs && (sf || key !== void 0)) throw wrong(`${name}: bs goes with neither sf nor key (RFC 9421, section 2.1)`);
  return component;
}
function identifierItem({ name, sf, key, bs, tr, req, param }) {
  const parameters = /* @__PURE__ */ new Map();
  if (sf) parameters.set("sf", true);
  if (key !== void 0) parameters.set("key", key);
  if (bs) parameters.set("bs", true);
  if (param !== void 0) parameters.set("name", param);
  if (tr) parameters.set("tr", true);
  if (req) parameters.set("req", true);
  return [name, parameters];
}
var identifier = (component) => serializeItem(identifierItem(component));
function componentOf([name, parameters]) {
  const { sf, key, bs, tr, req, name: param } = Object.fromEntries(parameters);
  return componentFrom({
    name: String(name),
    ...sf === true && { sf },
    ...bs === true && { bs },
    ...tr === true && { tr },
    ...req === true && { req },
    ...typeof key === "string" && { key },
    ...typeof param === "string" && { param }
  });
}
function componentValue(component, message) {
  const source = component.req ? message.request : message;
  const value = source && (component.name.startsWith("@") ? derivedValue(component, source) : fieldValue(component, source));
  if (value === void 0) {
    throw new Problem("expression-value", {
      what: `the signature covers ${identifier(component)}, and the ${message.status === void 0 || component.req ? "request" : "answer"} has none`,
      remedy: component.name.startsWith("@") ? void 0 : "headers that a session, a cookie or the transport adds are there too; preview shows them all"
    });
  }
  if (!/^[\u0020-\u007e\t]*$/.test(value)) {
    throw new Problem("expression-value", {
      what: `the value of ${identifier(component)} holds a line break or a character that is not ASCII`,
      remedy: "with bs it is signed as bytes (RFC 9421, section 2.1.3)"
    });
  }
  return value;
}
function derivedValue({ name, param }, { method, url, status }) {
  if (name === "@status") return status === void 0 ? void 0 : String(status);
  if (!url) return void 0;
  switch (name) {
    case "@method":
      return method;
    case "@target-uri":
      return url.origin + url.pathname + url.search;
    case "@authority":
      return url.host;
    case "@scheme":
      return url.protocol.slice(0, -1);
    case "@request-target":
      return url.pathname + url.search;
    case "@path":
      return url.pathname;
    case "@query":
      return url.search === "" ? "?" : url.search;
    default:
      return queryParam(param, url);
  }
}
function queryParam(name, { searchParams }) {
  const values = [...searchParams].filter(([own]) => encoded(own) === name).map(([, value]) => encoded(value));
  return values.length === 1 ? values[0] : void 0;
}
var encoded = (text) => encodeURIComponent(text).replace(/[!'()~]/g, (char) => `%${char.charCodeAt(0).toString(16).toUpperCase()}`);
function fieldValue({ name, sf, key, bs, tr }, { headers, trailers }) {
  const lines = (tr ? trailers : headers).filter(([own]) => own.toLowerCase() === name).map(([, value2]) => value2.replace(/[ \t]*\r?\n[ \t]+/g, " ").replace(/^[ \t]+|[ \t]+$/g, ""));
  if (lines.length === 0) return void 0;
  if (bs) return serializeList(lines.map((line) => [Buffer.from(line, "latin1"), /* @__PURE__ */ new Map()]));
  const value = lines.join(", ");
  if (key !== void 0) return memberValue(name, key, value);
  return sf ? structured(name, value) : value;
}
function memberValue(name, key, value) {
  const member = read(name, () => parseDictionary(value)).get(key);
  if (member === void 0) return void 0;
  return Array.isArray(member[0]) ? serializeInnerList(member) : serializeItem(member);
}
var dictionaries = /* @__PURE__ */ new Set([
  "content-digest",
  "repr-digest",
  "want-content-digest",
  "want-repr-digest",
  "signature",
  "signature-input",
  "accept-signature",
  "priority",
  "cdn-cache-control"
]);
function structured(name, value) {
  if (dictionaries.has(name)) return serializeDictionary(read(name, () => parseDictionary(value)));
  for (const again of [
    () => serializeItem(parseItem(value)),
    () => serializeList(parseList(value)),
    () => serializeDictionary(parseDictionary(value))
  ]) {
    try {
      return again();
    } catch {
    }
  }
  throw noStructure(name);
}
function read(name, parse) {
  try {
    return parse();
  } catch {
    throw noStructure(name);
  }
}
var noStructure = (name) => new Problem("expression-value", {
  what: `the header ${name} is no structured field (RFC 9651)`,
  remedy: "sf and key are for structured fields; leave them out, or use bs"
});

// src/core/signature/message/base.ts
function signatureParams(components, parameters) {
  return [components.map(identifierItem), new Map(parameters)];
}
function signatureBase(components, params, message) {
  const lines = components.map((component) => `${identifier(component)}: ${componentValue(component, message)}`);
  return [...lines, `"@signature-params": ${params}`].join("\n");
}
var paramsText = (list) => serializeInnerList2(list);

// src/core/signature/message/content-digest.ts
import { createHash } from "node:crypto";
import { parseDictionary as parseDictionary2, serializeDictionary as serializeDictionary2 } from "structured-headers";
var algorithms = { "sha-256": "sha256", "sha-512": "sha512" };
function contentDigest(body, algorithm) {
  const hash = createHash(algorithms[algorithm]);
  for (const piece of body.streamed ? body.streamed.pieces() : [body.bytes]) hash.update(piece);
  return serializeDictionary2(/* @__PURE__ */ new Map([[algorithm, [hash.digest(), /* @__PURE__ */ new Map()]]]));
}
function digestFits(field, content) {
  let fits;
  for (const [name, [value]] of parseDictionary2(field)) {
    if (!Object.hasOwn(algorithms, name) || !(value instanceof ArrayBuffer)) continue;
    const own = createHash(algorithms[name]).update(content).digest();
    fits = (fits ?? true) && own.equals(Buffer.from(value));
  }
  return fits;
}

// src/core/signature/message/verify.ts
import { parseDictionary as parseDictionary3 } from "structured-headers";
var ahead = 3e4;
function answerProblem(received, sent, demand) {
  const message = {
    status: received.status,
    headers: received.headers,
    trailers: received.parts.trailers,
    request: requestMessage(sent)
  };
  const input = headerValue(received.headers, "signature-input");
  const signatures = headerValue(received.headers, "signature");
  if (input === void 0 || signatures === void 0) {
    return demand.required ? refused("it has no signature", "answers: signed: perhaps takes answers without one") : void 0;
  }
  try {
    const reasons = [];
    const values = parseDictionary3(signatures);
    for (const [label, list] of parseDictionary3(input)) {
      const [signature] = values.get(label) ?? [];
      if (!Array.isArray(list[0]) || !(signature instanceof ArrayBuffer)) continue;
      const reason = reasonAgainst(list, Buffer.from(signature), message, demand);
      if (reason === void 0) return digestProblem(received, list);
      reasons.push(`${label}: ${reason}`);
    }
    return refused(reasons.join("; ") || "Signature and Signature-Input do not belong together");
  } catch (error) {
    return refused(`its signature cannot be read: ${asProblem(error).what}`);
  }
}
function reasonAgainst(list, signature, message, demand) {
  const [items, parameters] = list;
  const keyId = parameters.get("keyid");
  const known = demand.keys.get(String(keyId)) ?? (keyId === void 0 && demand.keys.size === 1 ? [...demand.keys.values()][0] : void 0);
  if (!known) return keyId === void 0 ? "it names no key" : `the key ${keyId} is not known`;
  const named = parameters.get("alg");
  if (named !== void 0 && named !== known.algorithm.name)
    return `it says ${named}, and the key is for ${known.algorithm.name}`;
  const components = items.map((item) => componentOf(item));
  const covered = new Set(components.map(identifier));
  const missing = demand.covered.map(identifier).filter((one) => !covered.has(one));
  if (missing.length > 0) return `it does not cover ${missing.join(", ")}`;
  const seconds = (name) => {
    const value = parameters.get(name);
    return typeof value === "number" ? value * 1e3 : void 0;
  };
  const [created, expires, now] = [seconds("created"), seconds("expires"), demand.now.getTime()];
  if (expires !== void 0 && expires < now) return "it has expired";
  if (created !== void 0 && created > now + ahead) return "it was made in the future: are the clocks right?";
  if (created !== void 0 && now - created > demand.oldest) return "it is too old";
  const base = signatureBase(components, paramsText(list), message);
  return known.algorithm.verify(base, known.key, signature) ? void 0 : "it was made with another key, or over something else";
}
function digestProblem(received, [items]) {
  const field = headerValue(received.headers, "content-digest");
  const { body, saved } = received.parts;
  const coded = headerValue(received.headers, "content-encoding") !== void 0;
  if (field === void 0 || coded || saved !== void 0 || !items.some(([name]) => name === "content-digest"))
    return void 0;
  return digestFits(field, body) === false ? refused("its body is not the one that Content-Digest speaks of") : void 0;
}
var refused = (why, remedy) => new Problem("step-failed", {
  what: `the answer is not signed as it must be: ${why}`,
  remedy,
  data: { place: "signature" }
});
var requestMessage = ({ method, url, headers }) => ({
  method,
  url,
  headers: headers.map(({ name, value }) => [name, value]),
  trailers: []
});

// src/core/signature/kinds/message-signature.ts
var messageSignature = {
  name: "message-signature",
  about: "HTTP message signatures (RFC 9421), with Content-Digest (RFC 9530)",
  compile({ digest, signatures, answers }, setting) {
    const labels = Object.entries(signatures).map(([label, file]) => labelFrom(label, file, setting));
    if (labels.length === 0) {
      throw new Problem("file-shape", {
        what: "signatures has no label",
        where: setting.yaml.position(["signatures"]),
        remedy: 'signatures: {sig1: {components: ["@method", "@target-uri"], algorithm: \u2026, key: \u2026}}'
      });
    }
    return {
      name: setting.name,
      sign: (wire, room) => signedBy(setting.name, labels, digest, wire, room),
      verify: answers && verifier(answers, setting)
    };
  }
};
function labelFrom(label, file, { yaml, loads }) {
  const path = ["signatures", label];
  if (!/^[a-z*][a-z0-9_.*-]*$/.test(label)) {
    throw new Problem("file-shape", {
      what: `${label} is no label of a signature`,
      where: yaml.position(path, "key"),
      remedy: "a label is small letters, digits, - and _ (RFC 9651, section 3.2)"
    });
  }
  const template = (key, text) => compileTemplate(text, yaml.position([...path, key]), loads);
  const components = file.components.map(
    (spec, index) => componentFrom(spec, yaml.position([...path, "components", index]))
  );
  const lasts = file.expires === void 0 ? void 0 : parseDuration(file.expires);
  return {
    label,
    components,
    algorithm: file.algorithm,
    key: template("key", file.key),
    texts: new Map(
      ["key-id", "nonce", "tag"].flatMap((key) => {
        const text = file[key];
        return text === void 0 ? [] : [[key, template(key, text)]];
      })
    ),
    created: file.created ?? true,
    lasts: lasts === void 0 ? void 0 : Math.round(lasts / 1e3),
    namesAlgorithm: file["name-algorithm"] ?? false
  };
}
function signedBy(name, labels, digest, given, room) {
  const steps = [];
  let wire = given;
  const add = (header, value, secret) => {
    const line = { name: header, value, origin: `signature ${name}`, secret };
    wire = withHeader(wire, line);
    const index = steps.findIndex((step) => step.part === "header" && step.name === header);
    if (index !== -1) steps.splice(index, 1);
    steps.push({ name: header, part: "header", value, secret, shown: secret ? void 0 : value });
  };
  if (digest !== void 0 && wire.body) add("Content-Digest", contentDigest(wire.body, digest), false);
  for (const label of labels) {
    const evaluation = new Evaluation(new RecipeNames(name, wire, room.variables), room);
    const { components, algorithm } = label;
    const params = paramsText(signatureParams(components, parametersOf(label, evaluation, room)));
    const base = signatureBase(components, params, requestMessage(wire));
    const signature = messageAlgorithms.get(algorithm)?.sign(base, textFrom(label.key, evaluation));
    if (!signature) throw new Problem("file-shape", { what: `there is no algorithm ${algorithm}` });
    room.onSecret(signature.toString("base64"));
    steps.push(
      { name: `${label.label} base`, part: "value", value: base, secret: false, shown: base },
      { name: `${label.label} signature`, part: "value", value: signature, secret: true, shown: void 0 }
    );
    const input = [...membersIn(wire, "signature-input"), `${label.label}=${params}`].join(", ");
    const value = [
      ...membersIn(wire, "signature"),
      serializeDictionary3(/* @__PURE__ */ new Map([[label.label, [new Uint8Array(signature), /* @__PURE__ */ new Map()]]]))
    ].join(", ");
    add("Signature-Input", input, false);
    add("Signature", value, true);
  }
  return { wire, steps };
}
function membersIn({ headers }, field) {
  const text = headerValue(
    headers.map(({ name, value }) => [name, value]),
    field
  );
  if (text === void 0) return [];
  try {
    parseDictionary4(text);
  } catch {
    throw new Problem("expression-value", {
      what: `the request has a header ${field} already, and it is no dictionary (RFC 9651)`,
      remedy: "leave it out: the signature makes it"
    });
  }
  return [text];
}
function parametersOf({ created, lasts, algorithm, namesAlgorithm, texts }, evaluation, { world }) {
  const now = Math.floor(world.now.getTime() / 1e3);
  const text = (key) => {
    const template = texts.get(key);
    return template && textFrom(template, evaluation);
  };
  const all2 = [
    ["created", created ? now : void 0],
    ["expires", lasts === void 0 ? void 0 : now + lasts],
    ["keyid", text("key-id")],
    ["alg", namesAlgorithm ? algorithm : void 0],
    ["nonce", text("nonce")],
    ["tag", text("tag")]
  ];
  return new Map(all2.flatMap(([name, value]) => value === void 0 ? [] : [[name, value]]));
}
function textFrom(template, evaluation) {
  const value = template.evaluate(evaluation);
  return value === omitted ? "" : textOf(value);
}
function verifier(file, { name, yaml, loads }) {
  const covered = (file.components ?? []).map(
    (spec, index) => componentFrom(spec, yaml.position(["answers", "components", index]))
  );
  const oldest = parseDuration(file["older-than"] ?? "5m");
  const keys = Object.entries(file.keys).map(([id, { algorithm, key }]) => ({
    id,
    algorithm: messageAlgorithms.get(algorithm),
    key: compileTemplate(key, yaml.position(["answers", "keys", id, "key"]), loads)
  }));
  return (received, sent, room) => {
    const evaluation = new Evaluation(new RecipeNames(name, sent, room.variables), room);
    return answerProblem(received, sent, {
      required: file.signed !== "perhaps",
      covered,
      keys: new Map(keys.map(({ id, algorithm, key }) => [id, { algorithm, key: textFrom(key, evaluation) }])),
      oldest,
      now: room.world.now
    });
  };
}

// src/core/signature/kinds/request-token.ts
var requestToken = {
  name: "request-token",
  about: "a JSON Web Token that is made and signed for each request",
  compile(file, { name, yaml, loads }) {
    const { algorithm, header = "Authorization", scheme = "Bearer", lasts = "60s", type = "JWT" } = file;
    const ready = (value, key2) => compileTree(value, (path) => yaml.position([key2, ...path]), loads);
    const [key, keyId, claims] = [
      ready(file.key, "key"),
      ready(file["key-id"] ?? "", "key-id"),
      ready(file.claims ?? {}, "claims")
    ];
    const seconds = Math.round(parseDuration(lasts) / 1e3);
    const signing = filterFor(algorithm);
    return {
      name,
      sign(wire, { world, variables, onSecret }) {
        const evaluation = new Evaluation(new RecipeNames(name, wire, variables), { world, onSecret });
        const text = (tree) => {
          const value2 = tree.evaluate(evaluation);
          return value2 === omitted ? "" : textOf(value2);
        };
        const id = text(keyId);
        const now = Math.floor(world.now.getTime() / 1e3);
        const head = writeJson({ alg: algorithm, ...type !== "" && { typ: type }, ...id !== "" && { kid: id } });
        const [own, secretClaims] = evaluation.traced(() => claims.evaluate(evaluation));
        const body = writeJson({ ...own, iat: now, exp: now + seconds });
        const base = `${encoded2(head)}.${encoded2(body)}`;
        const signature = signing.apply(base, [text(key)], evaluation);
        const token = `${base}.${Buffer.from(signature).toString("base64url")}`;
        onSecret(token);
        const value = scheme === "" ? token : `${scheme} ${token}`;
        const step = (named, made, secret = false) => ({
          name: named,
          part: "value",
          value: made,
          secret,
          shown: secret ? void 0 : made
        });
        return {
          wire: withHeader(wire, { name: header, value, origin: `signature ${name}`, secret: true }),
          steps: [
            step("header", head),
            step("claims", body, secretClaims),
            step("base", base, secretClaims),
            step("token", token, true),
            {
              name: header,
              part: "header",
              value,
              secret: true,
              shown: scheme === "" ? void 0 : `${scheme} ${hidden}`
            }
          ]
        };
      }
    };
  }
};
var encoded2 = (text) => Buffer.from(text).toString("base64url");
function filterFor(algorithm) {
  const size = algorithm.slice(2);
  const names = {
    HS: `hmac-sha-${size}`,
    RS: `sign-rsa-sha-${size}`,
    PS: `sign-rsa-pss-sha-${size}`,
    ES: `sign-ecdsa-sha-${size}`
  };
  return filters.get(names[algorithm.slice(0, 2)] ?? "sign-ed25519");
}

// src/core/signature/registry.ts
var all = [recipe, messageSignature, keyedDigest, requestToken];
var signatureKinds = new Map(
  all.map((kind) => [kind.name, kind])
);
function compileSignature(file, setting) {
  return signatureKinds.get(file.kind ?? "recipe").compile(file, setting);
}

export {
  messageAlgorithms,
  componentFrom,
  identifier,
  componentValue,
  signatureBase,
  digestFits,
  signatureKinds,
  compileSignature
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvc2lnbmF0dXJlL29yZGVyLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3NpZ25hdHVyZS9raW5kcy9yZWNpcGUudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvc2lnbmF0dXJlL2tpbmRzL2tleWVkLWRpZ2VzdC50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9zaWduYXR1cmUva2luZHMvbWVzc2FnZS1zaWduYXR1cmUudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvc2lnbmF0dXJlL21lc3NhZ2UvYWxnb3JpdGhtcy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9zaWduYXR1cmUvbWVzc2FnZS9iYXNlLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3NpZ25hdHVyZS9tZXNzYWdlL2NvbXBvbmVudHMudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvc2lnbmF0dXJlL21lc3NhZ2UvY29udGVudC1kaWdlc3QudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvc2lnbmF0dXJlL21lc3NhZ2UvdmVyaWZ5LnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3NpZ25hdHVyZS9raW5kcy9yZXF1ZXN0LXRva2VuLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3NpZ25hdHVyZS9yZWdpc3RyeS50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqXG4gKiBJbiB3aGljaCBvcmRlciB0aGUgdmFsdWVzIG9mIGEgcmVjaXBlIGFyZSB3b3JrZWQgb3V0OiBlYWNoIGJlaGluZCB3aGF0IGl0IHVzZXMuIEEgaGVhZGVyLCBhIHBhcmFtZXRlciBvciBhXG4gKiBtZW1iZXIgb2YgdGhlIGJvZHkgdGhhdCB0aGUgcmVjaXBlIGFkZHMgaXMgc2VlbiBieSBgc2VudGAsIHVubGVzcyBpdCBpcyBtYWRlIGZyb20gdGhhdCBwYXJ0IG9mIGBzZW50YCBpdHNlbGYuXG4gKi9cbmltcG9ydCB7IG5lYXJlc3RIaW50IH0gZnJvbSAnLi4vcHJvYmxlbS9uZWFyZXN0LmpzJztcbmltcG9ydCB7IHR5cGUgRmlsZVBvc2l0aW9uLCBQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IG9mUXVlcnksIHNlbnRNZW1iZXJzIH0gZnJvbSAnLi9zZW50LmpzJztcblxuLyoqIEEgdmFsdWUgb2YgdGhlIHJlY2lwZSwgb3Igc29tZXRoaW5nIHRoYXQgaXQgYWRkcy4gKi9cbmV4cG9ydCBpbnRlcmZhY2UgTm9kZSB7XG4gIHJlYWRvbmx5IG5hbWU6IHN0cmluZztcbiAgcmVhZG9ubHkgcGFydDogJ3ZhbHVlJyB8ICdoZWFkZXInIHwgJ3F1ZXJ5JyB8ICdib2R5JztcbiAgcmVhZG9ubHkgdXNlczogcmVhZG9ubHkgVXNlW107XG4gIHJlYWRvbmx5IHdoZXJlOiBGaWxlUG9zaXRpb24gfCB1bmRlZmluZWQ7XG59XG5cbmV4cG9ydCBpbnRlcmZhY2UgVXNlIHtcbiAgcmVhZG9ubHkgbmFtZTogc3RyaW5nO1xuICByZWFkb25seSBrZXlzOiByZWFkb25seSBzdHJpbmdbXTtcbiAgcmVhZG9ubHkgd2hlcmU6IEZpbGVQb3NpdGlvbiB8IHVuZGVmaW5lZDtcbn1cblxuLyoqIFRoZSBwYXJ0cyBvZiBgc2VudGAgdGhhdCBhIHJlY2lwZSBtYXkgY2hhbmdlLiAqL1xudHlwZSBDaGFuZ2VkID0gJ2hlYWRlcicgfCAncXVlcnknIHwgJ2JvZHknO1xuXG4vKiogSW4gb3JkZXIsIGVhY2ggd2l0aCB0aG9zZSB0aGF0IGl0IGlzIG1hZGUgZnJvbS4gKi9cbmV4cG9ydCB0eXBlIE9yZGVyZWQ8TiBleHRlbmRzIE5vZGU+ID0gUmVhZG9ubHlNYXA8TiwgUmVhZG9ubHlTZXQ8Tj4+O1xuXG4vKiogQHRocm93cyBQcm9ibGVtIGNpcmNsZTogdmFsdWVzIHRoYXQgdXNlIGVhY2ggb3RoZXI7IHVua25vd24tbmFtZTogYSBwYXJ0IG9mIGBzZW50YCB0aGF0IHRoZXJlIGlzIG5vdCAqL1xuZXhwb3J0IGZ1bmN0aW9uIG9yZGVyZWQ8TiBleHRlbmRzIE5vZGU+KG5vZGVzOiByZWFkb25seSBOW10pOiBPcmRlcmVkPE4+IHtcbiAgY29uc3QgdmFsdWVzID0gbmV3IE1hcChub2Rlcy5maWx0ZXIoKHsgcGFydCB9KSA9PiBwYXJ0ID09PSAndmFsdWUnKS5tYXAoKG5vZGUpID0+IFtub2RlLm5hbWUsIG5vZGVdKSk7XG4gIGNvbnN0IGhlYWRlcnMgPSBuZXcgTWFwKG5vZGVzLmZpbHRlcigoeyBwYXJ0IH0pID0+IHBhcnQgPT09ICdoZWFkZXInKS5tYXAoKG5vZGUpID0+IFtub2RlLm5hbWUudG9Mb3dlckNhc2UoKSwgbm9kZV0pKTtcbiAgY29uc3QgbG9va3NBdCA9IChub2RlOiBOLCB3aGF0OiBDaGFuZ2VkLCBzZWVuID0gbmV3IFNldDxOPigpKTogYm9vbGVhbiA9PiB7XG4gICAgaWYgKHNlZW4uaGFzKG5vZGUpKSByZXR1cm4gZmFsc2U7XG4gICAgc2Vlbi5hZGQobm9kZSk7XG4gICAgcmV0dXJuIG5vZGUudXNlcy5zb21lKCh1c2UpID0+IHtcbiAgICAgIGNvbnN0IHZhbHVlID0gdXNlLm5hbWUgPT09ICdzZW50JyA/IHVuZGVmaW5lZCA6IHZhbHVlcy5nZXQodXNlLm5hbWUpO1xuICAgICAgcmV0dXJuIHZhbHVlID8gbG9va3NBdCh2YWx1ZSwgd2hhdCwgc2VlbikgOiB1c2UubmFtZSA9PT0gJ3NlbnQnICYmIGNoYW5nZWRQYXJ0cyh1c2UpLmluY2x1ZGVzKHdoYXQpO1xuICAgIH0pO1xuICB9O1xuICAvKiogV2hhdCBtdXN0IGJlIHRoZXJlIGJlZm9yZSBhIHVzZSBvZiBpdC4gKi9cbiAgY29uc3QgYmVmb3JlID0gKHVzZTogVXNlKTogTltdID0+IHtcbiAgICBpZiAodXNlLm5hbWUgIT09ICdzZW50JykgcmV0dXJuIFt2YWx1ZXMuZ2V0KHVzZS5uYW1lKV0uZmlsdGVyKChub2RlKSA9PiBub2RlICE9PSB1bmRlZmluZWQpO1xuICAgIGNvbnN0IFttZW1iZXIsIGtleV0gPSB1c2Uua2V5cztcbiAgICBpZiAobWVtYmVyID09PSAnaGVhZGVyJyAmJiBrZXkgIT09IHVuZGVmaW5lZCAmJiBrZXkgIT09ICdjb250ZW50LWxlbmd0aCcpXG4gICAgICByZXR1cm4gW2hlYWRlcnMuZ2V0KGtleS50b0xvd2VyQ2FzZSgpKV0uZmlsdGVyKChub2RlKSA9PiBub2RlICE9PSB1bmRlZmluZWQpO1xuICAgIHJldHVybiBjaGFuZ2VkUGFydHModXNlKS5mbGF0TWFwKCh3aGF0KSA9PiBub2Rlcy5maWx0ZXIoKG5vZGUpID0+IG5vZGUucGFydCA9PT0gd2hhdCAmJiAhbG9va3NBdChub2RlLCB3aGF0KSkpO1xuICB9O1xuXG4gIGNvbnN0IG9yZGVyID0gbmV3IE1hcDxOLCBTZXQ8Tj4+KCk7XG4gIGNvbnN0IHZpc2l0ID0gKG5vZGU6IE4sIHdheTogcmVhZG9ubHkgTltdKTogdm9pZCA9PiB7XG4gICAgaWYgKG9yZGVyLmhhcyhub2RlKSkgcmV0dXJuO1xuICAgIGlmICh3YXkuaW5jbHVkZXMobm9kZSkpIHtcbiAgICAgIGNvbnN0IG5hbWVzID0gWy4uLndheS5zbGljZSh3YXkuaW5kZXhPZihub2RlKSksIG5vZGVdLm1hcCgoeyBuYW1lIH0pID0+IG5hbWUpO1xuICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ2NpcmNsZScsIHtcbiAgICAgICAgd2hhdDogYCR7bmFtZXMuam9pbignIGlzIG1hZGUgZnJvbSAnKX06IHRoZSB2YWx1ZXMgZ28gaW4gYSBjaXJjbGVgLFxuICAgICAgICB3aGVyZTogbm9kZS53aGVyZSxcbiAgICAgICAgcmVtZWR5OiAnb25lIG9mIHRoZW0gbXVzdCBiZSBtYWRlIHdpdGhvdXQgdGhlIG90aGVyczsgb25seShcIlx1MjAyNlwiKSBhbmQgZXhjZXB0KFwiXHUyMDI2XCIpIGNob29zZSBoZWFkZXJzJyxcbiAgICAgIH0pO1xuICAgIH1cbiAgICBjb25zdCBuZWVkZWQgPSBuZXcgU2V0PE4+KCk7XG4gICAgZm9yIChjb25zdCB1c2Ugb2Ygbm9kZS51c2VzKSB7XG4gICAgICBjaGVja01lbWJlcih1c2UpO1xuICAgICAgZm9yIChjb25zdCBvbmUgb2YgYmVmb3JlKHVzZSkpIG5lZWRlZC5hZGQob25lKTtcbiAgICB9XG4gICAgZm9yIChjb25zdCBvbmUgb2YgbmVlZGVkKSB2aXNpdChvbmUsIFsuLi53YXksIG5vZGVdKTtcbiAgICBvcmRlci5zZXQobm9kZSwgbmVlZGVkKTtcbiAgfTtcbiAgZm9yIChjb25zdCBub2RlIG9mIG5vZGVzKSB2aXNpdChub2RlLCBbXSk7XG4gIHJldHVybiBvcmRlcjtcbn1cblxuLyoqIFRob3NlIHRoYXQgYXJlIG1lYW50LCBhbmQgd2hhdCB0aGV5IGFyZSBtYWRlIGZyb20sIGluIHRoZSBzYW1lIG9yZGVyLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIG5lZWRlZEZvcjxOIGV4dGVuZHMgTm9kZT4ob3JkZXI6IE9yZGVyZWQ8Tj4sIG1lYW50OiAobm9kZTogTikgPT4gYm9vbGVhbik6IE5bXSB7XG4gIGNvbnN0IG5lZWRlZCA9IG5ldyBTZXQ8Tj4oKTtcbiAgZm9yIChjb25zdCBbbm9kZSwgZnJvbV0gb2YgWy4uLm9yZGVyXS5yZXZlcnNlKCkpIHtcbiAgICBpZiAoIW5lZWRlZC5oYXMobm9kZSkgJiYgIW1lYW50KG5vZGUpKSBjb250aW51ZTtcbiAgICBuZWVkZWQuYWRkKG5vZGUpO1xuICAgIGZvciAoY29uc3Qgb25lIG9mIGZyb20pIG5lZWRlZC5hZGQob25lKTtcbiAgfVxuICByZXR1cm4gWy4uLm9yZGVyLmtleXMoKV0uZmlsdGVyKChub2RlKSA9PiBuZWVkZWQuaGFzKG5vZGUpKTtcbn1cblxuZnVuY3Rpb24gY2hhbmdlZFBhcnRzKHsga2V5czogW21lbWJlcl0gfTogVXNlKTogQ2hhbmdlZFtdIHtcbiAgaWYgKG1lbWJlciA9PT0gdW5kZWZpbmVkKSByZXR1cm4gWydoZWFkZXInLCAncXVlcnknLCAnYm9keSddO1xuICAvLyBUaGUgbGVuZ3RoIG9mIHRoZSBib2R5IGlzIGFtb25nIHRoZW0uXG4gIGlmIChtZW1iZXIgPT09ICdoZWFkZXJzJyB8fCBtZW1iZXIgPT09ICdoZWFkZXInKSByZXR1cm4gWydoZWFkZXInLCAnYm9keSddO1xuICBpZiAobWVtYmVyID09PSAnYm9keScpIHJldHVybiBbJ2JvZHknXTtcbiAgcmV0dXJuIG9mUXVlcnkuaGFzKG1lbWJlcikgPyBbJ3F1ZXJ5J10gOiBbXTtcbn1cblxuZnVuY3Rpb24gY2hlY2tNZW1iZXIoeyBuYW1lLCBrZXlzOiBbbWVtYmVyXSwgd2hlcmUgfTogVXNlKTogdm9pZCB7XG4gIGlmIChuYW1lICE9PSAnc2VudCcgfHwgbWVtYmVyID09PSB1bmRlZmluZWQgfHwgc2VudE1lbWJlcnMuaGFzKG1lbWJlcikpIHJldHVybjtcbiAgdGhyb3cgbmV3IFByb2JsZW0oJ3Vua25vd24tbmFtZScsIHtcbiAgICB3aGF0OiBgc2VudCBoYXMgbm8gJHttZW1iZXJ9YCxcbiAgICB3aGVyZSxcbiAgICByZW1lZHk6IGAke25lYXJlc3RIaW50KG1lbWJlciwgc2VudE1lbWJlcnMua2V5cygpKX07IHRoZXJlIGFyZSAke1suLi5zZW50TWVtYmVycy5rZXlzKCldLmpvaW4oJywgJyl9YCxcbiAgfSk7XG59XG4iLCAiLyoqIGByZWNpcGVgOiBuYW1lZCB2YWx1ZXMgb3ZlciB0aGUgcmVxdWVzdCB0aGF0IGlzIGFib3V0IHRvIGxlYXZlLCBhbmQgd2hhdCB0aGV5IGFkZCB0byBpdC4gKi9cbmltcG9ydCB0eXBlIHsgUmVjaXBlRmlsZSB9IGZyb20gJy4uLy4uL2NvbGxlY3Rpb24vZmlsZXMvc2lnbmF0dXJlLWZpbGUuanMnO1xuaW1wb3J0IHR5cGUgeyBLZXlQYXRoIH0gZnJvbSAnLi4vLi4vY29sbGVjdGlvbi95YW1sLmpzJztcbmltcG9ydCB7IGNoZWNrSGVhZGVyIH0gZnJvbSAnLi4vLi4vZXhjaGFuZ2UvaGVhZGVyLXJ1bGVzLmpzJztcbmltcG9ydCB0eXBlIHsgTG9hZHMgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL2NvbXBpbGUuanMnO1xuaW1wb3J0IHsgdHlwZSBFdmFsdWF0aW9uLCBvbWl0dGVkLCB0eXBlIFJlc3VsdCB9IGZyb20gJy4uLy4uL2V4cHJlc3Npb24vZXZhbHVhdGlvbi5qcyc7XG5pbXBvcnQgeyBuYW1lc1VzZWQgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL25hbWVzLXVzZWQuanMnO1xuaW1wb3J0IHsgY29tcGlsZVRyZWUsIHR5cGUgVHJlZSB9IGZyb20gJy4uLy4uL2V4cHJlc3Npb24vdHJlZS5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHRleHRPZiB9IGZyb20gJy4uLy4uL3ZhbHVlL3RleHQuanMnO1xuaW1wb3J0IHsgaXNWYWx1ZU1hcCwgdHlwZSBWYWx1ZSB9IGZyb20gJy4uLy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHsgdHlwZSBOb2RlLCBuZWVkZWRGb3IsIG9yZGVyZWQgfSBmcm9tICcuLi9vcmRlci5qcyc7XG5pbXBvcnQgeyB0eXBlIFByb2dyYW0sIHJ1blJlY2lwZSB9IGZyb20gJy4uL3JlY2lwZS1ydW4uanMnO1xuaW1wb3J0IHR5cGUgeyBTaWduYXR1cmVLaW5kLCBTaWduYXR1cmVTZXR0aW5nIH0gZnJvbSAnLi4vc2lnbmF0dXJlLWtpbmQuanMnO1xuXG4vKiogTmFtZXMgdGhhdCBhIHZhbHVlIG9mIGEgcmVjaXBlIGNhbm5vdCBoYXZlOiB0aGV5IG1lYW4gc29tZXRoaW5nIGVsc2UgaW4gZXhwcmVzc2lvbnMuICovXG5jb25zdCB0YWtlbiA9IG5ldyBTZXQoWydzZW50JywgJ3NlY3JldCcsICdub3cnLCAndXVpZCcsICdub25jZScsICdvbWl0JywgJ3RydWUnLCAnZmFsc2UnLCAnbnVsbCddKTtcblxuZXhwb3J0IGNvbnN0IHJlY2lwZTogU2lnbmF0dXJlS2luZDxSZWNpcGVGaWxlPiA9IHtcbiAgbmFtZTogJ3JlY2lwZScsXG4gIGFib3V0OiAnbmFtZWQgdmFsdWVzIG92ZXIgdGhlIHJlcXVlc3QgdGhhdCBpcyBhYm91dCB0byBsZWF2ZSwgYW5kIHRoZSBoZWFkZXJzIHRoZXkgbWFrZScsXG4gIGNvbXBpbGUoeyBkZWZpbmUgPSB7fSwgaGVhZGVycyA9IHt9LCBxdWVyeSA9IHt9LCBib2R5ID0ge30gfSwgc2V0dGluZykge1xuICAgIGNvbnN0IHsgbmFtZSwgeWFtbCB9ID0gc2V0dGluZztcbiAgICBmb3IgKGNvbnN0IG9uZSBvZiBPYmplY3Qua2V5cyhkZWZpbmUpKSB7XG4gICAgICBpZiAoIXRha2VuLmhhcyhvbmUpKSBjb250aW51ZTtcbiAgICAgIHRocm93IG5ldyBQcm9ibGVtKCdmaWxlLXNoYXBlJywge1xuICAgICAgICB3aGF0OiBgYSB2YWx1ZSBvZiBhIHJlY2lwZSBjYW5ub3QgYmUgY2FsbGVkICR7b25lfTogdGhhdCBuYW1lIGhhcyBhIG1lYW5pbmcgb2YgaXRzIG93bmAsXG4gICAgICAgIHdoZXJlOiB5YW1sLnBvc2l0aW9uKFsnZGVmaW5lJywgb25lXSwgJ2tleScpLFxuICAgICAgfSk7XG4gICAgfVxuICAgIGZvciAoY29uc3Qgb25lIG9mIE9iamVjdC5rZXlzKGhlYWRlcnMpKSBjaGVja0hlYWRlcihvbmUsIHVuZGVmaW5lZCwgeWFtbC5wb3NpdGlvbihbJ2hlYWRlcnMnLCBvbmVdLCAna2V5JykpO1xuICAgIGNvbnN0IHBhcnRzID0gW1xuICAgICAgWydkZWZpbmUnLCAndmFsdWUnLCBkZWZpbmVdLFxuICAgICAgWydxdWVyeScsICdxdWVyeScsIHF1ZXJ5XSxcbiAgICAgIFsnYm9keScsICdib2R5JywgYm9keV0sXG4gICAgICBbJ2hlYWRlcnMnLCAnaGVhZGVyJywgaGVhZGVyc10sXG4gICAgXSBhcyBjb25zdDtcbiAgICBjb25zdCBvcmRlciA9IG9yZGVyZWQoXG4gICAgICBwYXJ0cy5mbGF0TWFwKChba2V5LCBwYXJ0LCB2YWx1ZXNdKSA9PlxuICAgICAgICBPYmplY3QuZW50cmllcyh2YWx1ZXMpLm1hcCgoW29uZSwgdmFsdWVdKSA9PiBwbGFubmVkKG9uZSwgcGFydCwgdmFsdWUgYXMgVmFsdWUsIFtrZXksIG9uZV0sIHNldHRpbmcpKSxcbiAgICAgICksXG4gICAgKTtcbiAgICBjb25zdCBwcm9ncmFtcyA9IFsuLi5vcmRlci5rZXlzKCldO1xuICAgIGNvbnN0IG1lbWJlcnMgPSBzZW50TWVtYmVyc0luKHByb2dyYW1zKTtcbiAgICBpZiAocHJvZ3JhbXMuZXZlcnkoKHsgcGFydCB9KSA9PiBwYXJ0ID09PSAndmFsdWUnKSkge1xuICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ2ZpbGUtc2hhcGUnLCB7XG4gICAgICAgIHdoYXQ6IGB0aGUgcmVjaXBlICR7bmFtZX0gYWRkcyBub3RoaW5nIHRvIGEgcmVxdWVzdGAsXG4gICAgICAgIHdoZXJlOiB7IGZpbGU6IHlhbWwuZmlsZSB9LFxuICAgICAgICByZW1lZHk6ICdoZWFkZXJzOiwgcXVlcnk6IG9yIGJvZHk6IHNheXMgd2hlcmUgaXRzIHZhbHVlcyBnbycsXG4gICAgICB9KTtcbiAgICB9XG4gICAgcmV0dXJuIHtcbiAgICAgIG5hbWUsXG4gICAgICBzaWduOiAod2lyZSwgcm9vbSwgb25seSkgPT5cbiAgICAgICAgcnVuUmVjaXBlKFxuICAgICAgICAgIG5hbWUsXG4gICAgICAgICAgb25seSA/IG5lZWRlZEZvcihvcmRlciwgKG5vZGUpID0+IG9ubHkuaGFzKGAke25vZGUucGFydH0gJHtub2RlLm5hbWV9YCkpIDogcHJvZ3JhbXMsXG4gICAgICAgICAgd2lyZSxcbiAgICAgICAgICByb29tLFxuICAgICAgICAgIG1lbWJlcnMsXG4gICAgICAgICksXG4gICAgfTtcbiAgfSxcbn07XG5cbnR5cGUgUGxhbm5lZCA9IFByb2dyYW0gJiBOb2RlO1xuXG4vKiogVGhlIG1lbWJlcnMgb2YgYHNlbnRgIHRoYXQgYXJlIHVzZWQ7IHVuZGVmaW5lZCB3aGVyZSBhbnkgbWF5IGJlLiAqL1xuZnVuY3Rpb24gc2VudE1lbWJlcnNJbihwcm9ncmFtczogcmVhZG9ubHkgUGxhbm5lZFtdKTogUmVhZG9ubHlTZXQ8c3RyaW5nPiB8IHVuZGVmaW5lZCB7XG4gIGNvbnN0IHVzZXMgPSBwcm9ncmFtcy5mbGF0TWFwKChwcm9ncmFtKSA9PiBwcm9ncmFtLnVzZXMpLmZpbHRlcigoeyBuYW1lIH0pID0+IG5hbWUgPT09ICdzZW50Jyk7XG4gIGlmICh1c2VzLnNvbWUoKHsga2V5cyB9KSA9PiBrZXlzLmxlbmd0aCA9PT0gMCkpIHJldHVybiB1bmRlZmluZWQ7XG4gIHJldHVybiBuZXcgU2V0KHVzZXMubWFwKCh7IGtleXM6IFttZW1iZXJdIH0pID0+IG1lbWJlciBhcyBzdHJpbmcpKTtcbn1cblxuZnVuY3Rpb24gcGxhbm5lZChcbiAgbmFtZTogc3RyaW5nLFxuICBwYXJ0OiBQcm9ncmFtWydwYXJ0J10sXG4gIHZhbHVlOiBWYWx1ZSxcbiAgcGF0aDogS2V5UGF0aCxcbiAgeyB5YW1sLCBsb2FkcyB9OiBTaWduYXR1cmVTZXR0aW5nLFxuKTogUGxhbm5lZCB7XG4gIHJldHVybiB7XG4gICAgbmFtZSxcbiAgICBwYXJ0LFxuICAgIHdoZXJlOiB5YW1sLnBvc2l0aW9uKHBhdGgsICdrZXknKSxcbiAgICB1c2VzOiBuYW1lc1VzZWQodmFsdWUpLm1hcCgodXNlKSA9PiAoe1xuICAgICAgbmFtZTogdXNlLm5hbWUsXG4gICAgICBrZXlzOiB1c2Uua2V5cyA/PyBbXSxcbiAgICAgIHdoZXJlOiB5YW1sLnBvc2l0aW9uKFsuLi5wYXRoLCAuLi51c2UucGF0aF0pLFxuICAgIH0pKSxcbiAgICBydW46IHByb2dyYW1PZih2YWx1ZSwgcGF0aCwgeWFtbCwgbG9hZHMpLFxuICB9O1xufVxuXG5mdW5jdGlvbiBwcm9ncmFtT2YodmFsdWU6IFZhbHVlLCBwYXRoOiBLZXlQYXRoLCB5YW1sOiBTaWduYXR1cmVTZXR0aW5nWyd5YW1sJ10sIGxvYWRzOiBMb2Fkcyk6IFByb2dyYW1bJ3J1biddIHtcbiAgY29uc3QgY29tcGlsZWQgPSAoaW5uZXI6IFZhbHVlLCBhdDogS2V5UGF0aCk6IFRyZWUgPT5cbiAgICBjb21waWxlVHJlZShpbm5lciwgKGJlbG93KSA9PiB5YW1sLnBvc2l0aW9uKFsuLi5hdCwgLi4uYmVsb3ddKSwgbG9hZHMpO1xuICBpZiAoIWlzVmFsdWVNYXAodmFsdWUpIHx8ICFBcnJheS5pc0FycmF5KHZhbHVlLmxpbmVzKSkge1xuICAgIGNvbnN0IHRyZWUgPSBjb21waWxlZCh2YWx1ZSwgcGF0aCk7XG4gICAgcmV0dXJuIChldmFsdWF0aW9uKSA9PiB0cmVlLmV2YWx1YXRlKGV2YWx1YXRpb24pO1xuICB9XG4gIGNvbnN0IGxpbmVzID0gdmFsdWUubGluZXMubWFwKChsaW5lOiBWYWx1ZSwgaW5kZXgpID0+IGNvbXBpbGVkKGxpbmUgPz8gJycsIFsuLi5wYXRoLCAnbGluZXMnLCBpbmRleF0pKTtcbiAgY29uc3QgYmV0d2VlbiA9IHZhbHVlWydqb2luZWQtYnknXSA9PT0gdW5kZWZpbmVkID8gJ1xcbicgOiB0ZXh0T2YodmFsdWVbJ2pvaW5lZC1ieSddKTtcbiAgcmV0dXJuIChldmFsdWF0aW9uKSA9PiBqb2luZWRMaW5lcyhsaW5lcywgYmV0d2VlbiwgZXZhbHVhdGlvbik7XG59XG5cbi8qKiBBIGxpc3QgaXMgc3BsaWNlZCBpbjsgd2hhdCBpcyBvbWl0dGVkIGhhcyBubyBsaW5lLCB3aGF0IGlzIGVtcHR5IGhhcyBhbiBlbXB0eSBvbmUuICovXG5mdW5jdGlvbiBqb2luZWRMaW5lcyhsaW5lczogcmVhZG9ubHkgVHJlZVtdLCBiZXR3ZWVuOiBzdHJpbmcsIGV2YWx1YXRpb246IEV2YWx1YXRpb24pOiBSZXN1bHQge1xuICBpZiAoZXZhbHVhdGlvbi5waWVjZXMpIHJldHVybiBsaW5lc0luUGllY2VzKGxpbmVzLCBiZXR3ZWVuLCBldmFsdWF0aW9uKTtcbiAgY29uc3QgdGV4dHM6IHN0cmluZ1tdID0gW107XG4gIGZvciAoY29uc3QgbGluZSBvZiBsaW5lcykge1xuICAgIGNvbnN0IHZhbHVlID0gbGluZS5ldmFsdWF0ZShldmFsdWF0aW9uKTtcbiAgICBpZiAodmFsdWUgPT09IG9taXR0ZWQpIGNvbnRpbnVlO1xuICAgIGlmICghQXJyYXkuaXNBcnJheSh2YWx1ZSkpIHRleHRzLnB1c2gobGluZVRleHQodmFsdWUpKTtcbiAgICBlbHNlIGZvciAoY29uc3QgaXRlbSBvZiB2YWx1ZSBhcyByZWFkb25seSBWYWx1ZVtdKSB0ZXh0cy5wdXNoKGxpbmVUZXh0KGl0ZW0pKTtcbiAgfVxuICByZXR1cm4gdGV4dHMuam9pbihiZXR3ZWVuKTtcbn1cblxuLyoqIFRoZSBzYW1lIGZvciBzb21lYm9keSB3aG8gbG9va3M6IG9mIGVhY2ggcGllY2UgaXMgdG9sZCB3aGV0aGVyIGl0IGlzIHNlY3JldC4gKi9cbmZ1bmN0aW9uIGxpbmVzSW5QaWVjZXMobGluZXM6IHJlYWRvbmx5IFRyZWVbXSwgYmV0d2Vlbjogc3RyaW5nLCBldmFsdWF0aW9uOiBFdmFsdWF0aW9uKTogUmVzdWx0IHtcbiAgY29uc3QgdGV4dHM6IHN0cmluZ1tdID0gW107XG4gIGNvbnN0IHBpZWNlczogeyB0ZXh0OiBzdHJpbmc7IHNlY3JldDogYm9vbGVhbiB9W10gPSBbXTtcbiAgZm9yIChjb25zdCBsaW5lIG9mIGxpbmVzKSB7XG4gICAgZXZhbHVhdGlvbi5waWVjZXMgPSBbXTtcbiAgICBjb25zdCBbdmFsdWUsIHNlY3JldF0gPSBldmFsdWF0aW9uLnRyYWNlZCgoKSA9PiBsaW5lLmV2YWx1YXRlKGV2YWx1YXRpb24pKTtcbiAgICBpZiAodmFsdWUgPT09IG9taXR0ZWQpIGNvbnRpbnVlO1xuICAgIGNvbnN0IG93biA9IGV2YWx1YXRpb24ucGllY2VzO1xuICAgIGNvbnN0IGl0ZW1zID0gKEFycmF5LmlzQXJyYXkodmFsdWUpID8gKHZhbHVlIGFzIHJlYWRvbmx5IFZhbHVlW10pIDogW3ZhbHVlXSkubWFwKChpdGVtKSA9PiBsaW5lVGV4dChpdGVtKSk7XG4gICAgZm9yIChjb25zdCBbaW5kZXgsIHRleHRdIG9mIGl0ZW1zLmVudHJpZXMoKSkge1xuICAgICAgdGV4dHMucHVzaCh0ZXh0KTtcbiAgICAgIGlmICh0ZXh0cy5sZW5ndGggPiAxKSBwaWVjZXMucHVzaCh7IHRleHQ6IGJldHdlZW4sIHNlY3JldDogZmFsc2UgfSk7XG4gICAgICBpZiAoc2VjcmV0ICYmIG93bi5sZW5ndGggPiAxICYmIGluZGV4ID09PSAwKSBwaWVjZXMucHVzaCguLi5vd24pO1xuICAgICAgZWxzZSBwaWVjZXMucHVzaCh7IHRleHQsIHNlY3JldCB9KTtcbiAgICB9XG4gIH1cbiAgZXZhbHVhdGlvbi5waWVjZXMgPSBwaWVjZXM7XG4gIHJldHVybiB0ZXh0cy5qb2luKGJldHdlZW4pO1xufVxuXG5mdW5jdGlvbiBsaW5lVGV4dCh2YWx1ZTogVmFsdWUpOiBzdHJpbmcge1xuICBpZiAodmFsdWUgaW5zdGFuY2VvZiBVaW50OEFycmF5KSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ2V4cHJlc3Npb24tdmFsdWUnLCB7XG4gICAgICB3aGF0OiAnYSBsaW5lIGlzIGJ5dGVzJyxcbiAgICAgIHJlbWVkeTogJ3wgaGV4IG9yIHwgYmFzZTY0IHdyaXRlcyBieXRlcyBhcyB0ZXh0OyB8IHRleHQgcmVhZHMgdGhlbSBhcyBVVEYtOCcsXG4gICAgfSk7XG4gIH1cbiAgcmV0dXJuIHZhbHVlID09PSBudWxsID8gJycgOiB0ZXh0T2YodmFsdWUpO1xufVxuIiwgIi8qKiBga2V5ZWQtZGlnZXN0YDogYSBrZXllZCBkaWdlc3Qgb2YgdGhlIGJvZHkgKFJGQyAyMTA0KSwgaW4gYSBoZWFkZXIuICovXG5pbXBvcnQgdHlwZSB7IEtleWVkRGlnZXN0RmlsZSB9IGZyb20gJy4uLy4uL2NvbGxlY3Rpb24vZmlsZXMvc2lnbmF0dXJlLWZpbGUuanMnO1xuaW1wb3J0IHR5cGUgeyBTaWduYXR1cmVLaW5kIH0gZnJvbSAnLi4vc2lnbmF0dXJlLWtpbmQuanMnO1xuaW1wb3J0IHsgcmVjaXBlIH0gZnJvbSAnLi9yZWNpcGUuanMnO1xuXG5leHBvcnQgY29uc3Qga2V5ZWREaWdlc3Q6IFNpZ25hdHVyZUtpbmQ8S2V5ZWREaWdlc3RGaWxlPiA9IHtcbiAgbmFtZTogJ2tleWVkLWRpZ2VzdCcsXG4gIGFib3V0OiAnYSBrZXllZCBkaWdlc3Qgb2YgdGhlIGJvZHksIGluIGEgaGVhZGVyJyxcbiAgLy8gSXQgaXMgdGhlIHNob3J0ZXN0IG9mIGFsbCByZWNpcGVzLlxuICBjb21waWxlOiAoeyBhbGdvcml0aG0sIGtleSwgaGVhZGVyLCBlbmNvZGluZyA9ICdoZXgnLCBwcmVmaXggPSAnJyB9LCBzZXR0aW5nKSA9PlxuICAgIHJlY2lwZS5jb21waWxlKFxuICAgICAge1xuICAgICAgICBkZWZpbmU6IHsga2V5LCBkaWdlc3Q6IGBcXCR7c2VudC5ib2R5IHwgJHthbGdvcml0aG19KGtleSkgfCAke2VuY29kaW5nfX1gIH0sXG4gICAgICAgIGhlYWRlcnM6IHsgW2hlYWRlcl06IGAke3ByZWZpeH1cXCR7ZGlnZXN0fWAgfSxcbiAgICAgIH0sXG4gICAgICBzZXR0aW5nLFxuICAgICksXG59O1xuIiwgIi8qKiBgbWVzc2FnZS1zaWduYXR1cmVgOiBIVFRQIG1lc3NhZ2Ugc2lnbmF0dXJlcyAoUkZDIDk0MjEpLCB3aXRoIGBDb250ZW50LURpZ2VzdGAgKFJGQyA5NTMwKS4gKi9cbmltcG9ydCB7IHR5cGUgQmFyZUl0ZW0sIHBhcnNlRGljdGlvbmFyeSwgc2VyaWFsaXplRGljdGlvbmFyeSB9IGZyb20gJ3N0cnVjdHVyZWQtaGVhZGVycyc7XG5pbXBvcnQgdHlwZSB7IE1lc3NhZ2VTaWduYXR1cmVGaWxlIH0gZnJvbSAnLi4vLi4vY29sbGVjdGlvbi9maWxlcy9zaWduYXR1cmUtZmlsZS5qcyc7XG5pbXBvcnQgdHlwZSB7IEhlYWRlckxpbmUsIFdpcmVSZXF1ZXN0IH0gZnJvbSAnLi4vLi4vZXhjaGFuZ2Uvd2lyZS5qcyc7XG5pbXBvcnQgeyBFdmFsdWF0aW9uLCBvbWl0dGVkIH0gZnJvbSAnLi4vLi4vZXhwcmVzc2lvbi9ldmFsdWF0aW9uLmpzJztcbmltcG9ydCB7IGNvbXBpbGVUZW1wbGF0ZSwgdHlwZSBUZW1wbGF0ZSB9IGZyb20gJy4uLy4uL2V4cHJlc3Npb24vdGVtcGxhdGUuanMnO1xuaW1wb3J0IHsgaGVhZGVyVmFsdWUgfSBmcm9tICcuLi8uLi9wbGFjZS9vYnNlcnZlZC5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHBhcnNlRHVyYXRpb24gfSBmcm9tICcuLi8uLi92YWx1ZS9tZWFzdXJlcy5qcyc7XG5pbXBvcnQgeyB0ZXh0T2YgfSBmcm9tICcuLi8uLi92YWx1ZS90ZXh0LmpzJztcbmltcG9ydCB7IHdpdGhIZWFkZXIgfSBmcm9tICcuLi9hZGRpbmcuanMnO1xuaW1wb3J0IHsgbWVzc2FnZUFsZ29yaXRobXMgfSBmcm9tICcuLi9tZXNzYWdlL2FsZ29yaXRobXMuanMnO1xuaW1wb3J0IHsgcGFyYW1zVGV4dCwgc2lnbmF0dXJlQmFzZSwgc2lnbmF0dXJlUGFyYW1zIH0gZnJvbSAnLi4vbWVzc2FnZS9iYXNlLmpzJztcbmltcG9ydCB7IHR5cGUgQ29tcG9uZW50LCBjb21wb25lbnRGcm9tIH0gZnJvbSAnLi4vbWVzc2FnZS9jb21wb25lbnRzLmpzJztcbmltcG9ydCB7IGNvbnRlbnREaWdlc3QsIHR5cGUgRGlnZXN0QWxnb3JpdGhtIH0gZnJvbSAnLi4vbWVzc2FnZS9jb250ZW50LWRpZ2VzdC5qcyc7XG5pbXBvcnQgeyBhbnN3ZXJQcm9ibGVtLCByZXF1ZXN0TWVzc2FnZSB9IGZyb20gJy4uL21lc3NhZ2UvdmVyaWZ5LmpzJztcbmltcG9ydCB7IFJlY2lwZU5hbWVzIH0gZnJvbSAnLi4vcmVjaXBlLXJ1bi5qcyc7XG5pbXBvcnQgdHlwZSB7IFNpZ25hdHVyZUtpbmQsIFNpZ25hdHVyZVNldHRpbmcsIFNpZ25lZCwgU2lnbmluZ1Jvb20sIFNpZ25pbmdTdGVwLCBWZXJpZnkgfSBmcm9tICcuLi9zaWduYXR1cmUta2luZC5qcyc7XG5cbnR5cGUgTGFiZWxGaWxlID0gTWVzc2FnZVNpZ25hdHVyZUZpbGVbJ3NpZ25hdHVyZXMnXVtzdHJpbmddO1xudHlwZSBBbnN3ZXJzRmlsZSA9IE5vbk51bGxhYmxlPE1lc3NhZ2VTaWduYXR1cmVGaWxlWydhbnN3ZXJzJ10+O1xuXG4vKiogT25lIHNpZ25hdHVyZSwgbWFkZSByZWFkeS4gKi9cbmludGVyZmFjZSBMYWJlbCB7XG4gIHJlYWRvbmx5IGxhYmVsOiBzdHJpbmc7XG4gIHJlYWRvbmx5IGNvbXBvbmVudHM6IHJlYWRvbmx5IENvbXBvbmVudFtdO1xuICByZWFkb25seSBhbGdvcml0aG06IHN0cmluZztcbiAgcmVhZG9ubHkga2V5OiBUZW1wbGF0ZTtcbiAgcmVhZG9ubHkgdGV4dHM6IFJlYWRvbmx5TWFwPCdrZXktaWQnIHwgJ25vbmNlJyB8ICd0YWcnLCBUZW1wbGF0ZT47XG4gIHJlYWRvbmx5IGNyZWF0ZWQ6IGJvb2xlYW47XG4gIC8qKiBTZWNvbmRzLiAqL1xuICByZWFkb25seSBsYXN0czogbnVtYmVyIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSBuYW1lc0FsZ29yaXRobTogYm9vbGVhbjtcbn1cblxuZXhwb3J0IGNvbnN0IG1lc3NhZ2VTaWduYXR1cmU6IFNpZ25hdHVyZUtpbmQ8TWVzc2FnZVNpZ25hdHVyZUZpbGU+ID0ge1xuICBuYW1lOiAnbWVzc2FnZS1zaWduYXR1cmUnLFxuICBhYm91dDogJ0hUVFAgbWVzc2FnZSBzaWduYXR1cmVzIChSRkMgOTQyMSksIHdpdGggQ29udGVudC1EaWdlc3QgKFJGQyA5NTMwKScsXG4gIGNvbXBpbGUoeyBkaWdlc3QsIHNpZ25hdHVyZXMsIGFuc3dlcnMgfSwgc2V0dGluZykge1xuICAgIGNvbnN0IGxhYmVscyA9IE9iamVjdC5lbnRyaWVzKHNpZ25hdHVyZXMpLm1hcCgoW2xhYmVsLCBmaWxlXSkgPT4gbGFiZWxGcm9tKGxhYmVsLCBmaWxlLCBzZXR0aW5nKSk7XG4gICAgaWYgKGxhYmVscy5sZW5ndGggPT09IDApIHtcbiAgICAgIHRocm93IG5ldyBQcm9ibGVtKCdmaWxlLXNoYXBlJywge1xuICAgICAgICB3aGF0OiAnc2lnbmF0dXJlcyBoYXMgbm8gbGFiZWwnLFxuICAgICAgICB3aGVyZTogc2V0dGluZy55YW1sLnBvc2l0aW9uKFsnc2lnbmF0dXJlcyddKSxcbiAgICAgICAgcmVtZWR5OiAnc2lnbmF0dXJlczoge3NpZzE6IHtjb21wb25lbnRzOiBbXCJAbWV0aG9kXCIsIFwiQHRhcmdldC11cmlcIl0sIGFsZ29yaXRobTogXHUyMDI2LCBrZXk6IFx1MjAyNn19JyxcbiAgICAgIH0pO1xuICAgIH1cbiAgICByZXR1cm4ge1xuICAgICAgbmFtZTogc2V0dGluZy5uYW1lLFxuICAgICAgc2lnbjogKHdpcmUsIHJvb20pID0+IHNpZ25lZEJ5KHNldHRpbmcubmFtZSwgbGFiZWxzLCBkaWdlc3QsIHdpcmUsIHJvb20pLFxuICAgICAgdmVyaWZ5OiBhbnN3ZXJzICYmIHZlcmlmaWVyKGFuc3dlcnMsIHNldHRpbmcpLFxuICAgIH07XG4gIH0sXG59O1xuXG5mdW5jdGlvbiBsYWJlbEZyb20obGFiZWw6IHN0cmluZywgZmlsZTogTGFiZWxGaWxlLCB7IHlhbWwsIGxvYWRzIH06IFNpZ25hdHVyZVNldHRpbmcpOiBMYWJlbCB7XG4gIGNvbnN0IHBhdGggPSBbJ3NpZ25hdHVyZXMnLCBsYWJlbF07XG4gIGlmICghL15bYS16Kl1bYS16MC05Xy4qLV0qJC8udGVzdChsYWJlbCkpIHtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgnZmlsZS1zaGFwZScsIHtcbiAgICAgIHdoYXQ6IGAke2xhYmVsfSBpcyBubyBsYWJlbCBvZiBhIHNpZ25hdHVyZWAsXG4gICAgICB3aGVyZTogeWFtbC5wb3NpdGlvbihwYXRoLCAna2V5JyksXG4gICAgICByZW1lZHk6ICdhIGxhYmVsIGlzIHNtYWxsIGxldHRlcnMsIGRpZ2l0cywgLSBhbmQgXyAoUkZDIDk2NTEsIHNlY3Rpb24gMy4yKScsXG4gICAgfSk7XG4gIH1cbiAgY29uc3QgdGVtcGxhdGUgPSAoa2V5OiAna2V5JyB8ICdrZXktaWQnIHwgJ25vbmNlJyB8ICd0YWcnLCB0ZXh0OiBzdHJpbmcpOiBUZW1wbGF0ZSA9PlxuICAgIGNvbXBpbGVUZW1wbGF0ZSh0ZXh0LCB5YW1sLnBvc2l0aW9uKFsuLi5wYXRoLCBrZXldKSwgbG9hZHMpO1xuICBjb25zdCBjb21wb25lbnRzID0gZmlsZS5jb21wb25lbnRzLm1hcCgoc3BlYywgaW5kZXgpID0+XG4gICAgY29tcG9uZW50RnJvbShzcGVjLCB5YW1sLnBvc2l0aW9uKFsuLi5wYXRoLCAnY29tcG9uZW50cycsIGluZGV4XSkpLFxuICApO1xuICBjb25zdCBsYXN0cyA9IGZpbGUuZXhwaXJlcyA9PT0gdW5kZWZpbmVkID8gdW5kZWZpbmVkIDogcGFyc2VEdXJhdGlvbihmaWxlLmV4cGlyZXMpO1xuICByZXR1cm4ge1xuICAgIGxhYmVsLFxuICAgIGNvbXBvbmVudHMsXG4gICAgYWxnb3JpdGhtOiBmaWxlLmFsZ29yaXRobSxcbiAgICBrZXk6IHRlbXBsYXRlKCdrZXknLCBmaWxlLmtleSksXG4gICAgdGV4dHM6IG5ldyBNYXAoXG4gICAgICAoWydrZXktaWQnLCAnbm9uY2UnLCAndGFnJ10gYXMgY29uc3QpLmZsYXRNYXAoKGtleSkgPT4ge1xuICAgICAgICBjb25zdCB0ZXh0ID0gZmlsZVtrZXldO1xuICAgICAgICByZXR1cm4gdGV4dCA9PT0gdW5kZWZpbmVkID8gW10gOiBbW2tleSwgdGVtcGxhdGUoa2V5LCB0ZXh0KV0gYXMgY29uc3RdO1xuICAgICAgfSksXG4gICAgKSxcbiAgICBjcmVhdGVkOiBmaWxlLmNyZWF0ZWQgPz8gdHJ1ZSxcbiAgICBsYXN0czogbGFzdHMgPT09IHVuZGVmaW5lZCA/IHVuZGVmaW5lZCA6IE1hdGgucm91bmQobGFzdHMgLyAxMDAwKSxcbiAgICBuYW1lc0FsZ29yaXRobTogZmlsZVsnbmFtZS1hbGdvcml0aG0nXSA/PyBmYWxzZSxcbiAgfTtcbn1cblxuLyoqIEVhY2ggbGFiZWwgYWZ0ZXIgdGhlIG90aGVyOiBhIGxhdGVyIG9uZSBtYXkgY292ZXIgYW4gZWFybGllciBvbmUuICovXG5mdW5jdGlvbiBzaWduZWRCeShcbiAgbmFtZTogc3RyaW5nLFxuICBsYWJlbHM6IHJlYWRvbmx5IExhYmVsW10sXG4gIGRpZ2VzdDogRGlnZXN0QWxnb3JpdGhtIHwgdW5kZWZpbmVkLFxuICBnaXZlbjogV2lyZVJlcXVlc3QsXG4gIHJvb206IFNpZ25pbmdSb29tLFxuKTogU2lnbmVkIHtcbiAgY29uc3Qgc3RlcHM6IFNpZ25pbmdTdGVwW10gPSBbXTtcbiAgbGV0IHdpcmUgPSBnaXZlbjtcbiAgY29uc3QgYWRkID0gKGhlYWRlcjogc3RyaW5nLCB2YWx1ZTogc3RyaW5nLCBzZWNyZXQ6IGJvb2xlYW4pOiB2b2lkID0+IHtcbiAgICBjb25zdCBsaW5lOiBIZWFkZXJMaW5lID0geyBuYW1lOiBoZWFkZXIsIHZhbHVlLCBvcmlnaW46IGBzaWduYXR1cmUgJHtuYW1lfWAsIHNlY3JldCB9O1xuICAgIHdpcmUgPSB3aXRoSGVhZGVyKHdpcmUsIGxpbmUpO1xuICAgIGNvbnN0IGluZGV4ID0gc3RlcHMuZmluZEluZGV4KChzdGVwKSA9PiBzdGVwLnBhcnQgPT09ICdoZWFkZXInICYmIHN0ZXAubmFtZSA9PT0gaGVhZGVyKTtcbiAgICBpZiAoaW5kZXggIT09IC0xKSBzdGVwcy5zcGxpY2UoaW5kZXgsIDEpO1xuICAgIHN0ZXBzLnB1c2goeyBuYW1lOiBoZWFkZXIsIHBhcnQ6ICdoZWFkZXInLCB2YWx1ZSwgc2VjcmV0LCBzaG93bjogc2VjcmV0ID8gdW5kZWZpbmVkIDogdmFsdWUgfSk7XG4gIH07XG4gIGlmIChkaWdlc3QgIT09IHVuZGVmaW5lZCAmJiB3aXJlLmJvZHkpIGFkZCgnQ29udGVudC1EaWdlc3QnLCBjb250ZW50RGlnZXN0KHdpcmUuYm9keSwgZGlnZXN0KSwgZmFsc2UpO1xuICBmb3IgKGNvbnN0IGxhYmVsIG9mIGxhYmVscykge1xuICAgIGNvbnN0IGV2YWx1YXRpb24gPSBuZXcgRXZhbHVhdGlvbihuZXcgUmVjaXBlTmFtZXMobmFtZSwgd2lyZSwgcm9vbS52YXJpYWJsZXMpLCByb29tKTtcbiAgICBjb25zdCB7IGNvbXBvbmVudHMsIGFsZ29yaXRobSB9ID0gbGFiZWw7XG4gICAgY29uc3QgcGFyYW1zID0gcGFyYW1zVGV4dChzaWduYXR1cmVQYXJhbXMoY29tcG9uZW50cywgcGFyYW1ldGVyc09mKGxhYmVsLCBldmFsdWF0aW9uLCByb29tKSkpO1xuICAgIGNvbnN0IGJhc2UgPSBzaWduYXR1cmVCYXNlKGNvbXBvbmVudHMsIHBhcmFtcywgcmVxdWVzdE1lc3NhZ2Uod2lyZSkpO1xuICAgIGNvbnN0IHNpZ25hdHVyZSA9IG1lc3NhZ2VBbGdvcml0aG1zLmdldChhbGdvcml0aG0pPy5zaWduKGJhc2UsIHRleHRGcm9tKGxhYmVsLmtleSwgZXZhbHVhdGlvbikpO1xuICAgIGlmICghc2lnbmF0dXJlKSB0aHJvdyBuZXcgUHJvYmxlbSgnZmlsZS1zaGFwZScsIHsgd2hhdDogYHRoZXJlIGlzIG5vIGFsZ29yaXRobSAke2FsZ29yaXRobX1gIH0pO1xuICAgIHJvb20ub25TZWNyZXQoc2lnbmF0dXJlLnRvU3RyaW5nKCdiYXNlNjQnKSk7XG4gICAgc3RlcHMucHVzaChcbiAgICAgIHsgbmFtZTogYCR7bGFiZWwubGFiZWx9IGJhc2VgLCBwYXJ0OiAndmFsdWUnLCB2YWx1ZTogYmFzZSwgc2VjcmV0OiBmYWxzZSwgc2hvd246IGJhc2UgfSxcbiAgICAgIHsgbmFtZTogYCR7bGFiZWwubGFiZWx9IHNpZ25hdHVyZWAsIHBhcnQ6ICd2YWx1ZScsIHZhbHVlOiBzaWduYXR1cmUsIHNlY3JldDogdHJ1ZSwgc2hvd246IHVuZGVmaW5lZCB9LFxuICAgICk7XG4gICAgY29uc3QgaW5wdXQgPSBbLi4ubWVtYmVyc0luKHdpcmUsICdzaWduYXR1cmUtaW5wdXQnKSwgYCR7bGFiZWwubGFiZWx9PSR7cGFyYW1zfWBdLmpvaW4oJywgJyk7XG4gICAgY29uc3QgdmFsdWUgPSBbXG4gICAgICAuLi5tZW1iZXJzSW4od2lyZSwgJ3NpZ25hdHVyZScpLFxuICAgICAgc2VyaWFsaXplRGljdGlvbmFyeShuZXcgTWFwKFtbbGFiZWwubGFiZWwsIFtuZXcgVWludDhBcnJheShzaWduYXR1cmUpLCBuZXcgTWFwKCldXV0pKSxcbiAgICBdLmpvaW4oJywgJyk7XG4gICAgYWRkKCdTaWduYXR1cmUtSW5wdXQnLCBpbnB1dCwgZmFsc2UpO1xuICAgIGFkZCgnU2lnbmF0dXJlJywgdmFsdWUsIHRydWUpO1xuICB9XG4gIHJldHVybiB7IHdpcmUsIHN0ZXBzIH07XG59XG5cbi8qKiBNZW1iZXJzIHRoYXQgYXJlIHRoZXJlIGFscmVhZHksIGFzIHRoZXkgc3RhbmQuIEB0aHJvd3MgUHJvYmxlbSBleHByZXNzaW9uLXZhbHVlOiB0aGV5IGFyZSBubyBkaWN0aW9uYXJ5ICovXG5mdW5jdGlvbiBtZW1iZXJzSW4oeyBoZWFkZXJzIH06IFdpcmVSZXF1ZXN0LCBmaWVsZDogc3RyaW5nKTogc3RyaW5nW10ge1xuICBjb25zdCB0ZXh0ID0gaGVhZGVyVmFsdWUoXG4gICAgaGVhZGVycy5tYXAoKHsgbmFtZSwgdmFsdWUgfSkgPT4gW25hbWUsIHZhbHVlXSksXG4gICAgZmllbGQsXG4gICk7XG4gIGlmICh0ZXh0ID09PSB1bmRlZmluZWQpIHJldHVybiBbXTtcbiAgdHJ5IHtcbiAgICBwYXJzZURpY3Rpb25hcnkodGV4dCk7XG4gIH0gY2F0Y2gge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCdleHByZXNzaW9uLXZhbHVlJywge1xuICAgICAgd2hhdDogYHRoZSByZXF1ZXN0IGhhcyBhIGhlYWRlciAke2ZpZWxkfSBhbHJlYWR5LCBhbmQgaXQgaXMgbm8gZGljdGlvbmFyeSAoUkZDIDk2NTEpYCxcbiAgICAgIHJlbWVkeTogJ2xlYXZlIGl0IG91dDogdGhlIHNpZ25hdHVyZSBtYWtlcyBpdCcsXG4gICAgfSk7XG4gIH1cbiAgcmV0dXJuIFt0ZXh0XTtcbn1cblxuLyoqIFNlY3Rpb24gMi4zLCBpbiBhbiBvcmRlciBvZiBvdXIgb3duOiBhbnkgaXMgYWxsb3dlZC4gKi9cbmZ1bmN0aW9uIHBhcmFtZXRlcnNPZihcbiAgeyBjcmVhdGVkLCBsYXN0cywgYWxnb3JpdGhtLCBuYW1lc0FsZ29yaXRobSwgdGV4dHMgfTogTGFiZWwsXG4gIGV2YWx1YXRpb246IEV2YWx1YXRpb24sXG4gIHsgd29ybGQgfTogU2lnbmluZ1Jvb20sXG4pOiBNYXA8c3RyaW5nLCBCYXJlSXRlbT4ge1xuICBjb25zdCBub3cgPSBNYXRoLmZsb29yKHdvcmxkLm5vdy5nZXRUaW1lKCkgLyAxMDAwKTtcbiAgY29uc3QgdGV4dCA9IChrZXk6ICdrZXktaWQnIHwgJ25vbmNlJyB8ICd0YWcnKTogc3RyaW5nIHwgdW5kZWZpbmVkID0+IHtcbiAgICBjb25zdCB0ZW1wbGF0ZSA9IHRleHRzLmdldChrZXkpO1xuICAgIHJldHVybiB0ZW1wbGF0ZSAmJiB0ZXh0RnJvbSh0ZW1wbGF0ZSwgZXZhbHVhdGlvbik7XG4gIH07XG4gIGNvbnN0IGFsbDogcmVhZG9ubHkgKHJlYWRvbmx5IFtzdHJpbmcsIEJhcmVJdGVtIHwgdW5kZWZpbmVkXSlbXSA9IFtcbiAgICBbJ2NyZWF0ZWQnLCBjcmVhdGVkID8gbm93IDogdW5kZWZpbmVkXSxcbiAgICBbJ2V4cGlyZXMnLCBsYXN0cyA9PT0gdW5kZWZpbmVkID8gdW5kZWZpbmVkIDogbm93ICsgbGFzdHNdLFxuICAgIFsna2V5aWQnLCB0ZXh0KCdrZXktaWQnKV0sXG4gICAgWydhbGcnLCBuYW1lc0FsZ29yaXRobSA/IGFsZ29yaXRobSA6IHVuZGVmaW5lZF0sXG4gICAgWydub25jZScsIHRleHQoJ25vbmNlJyldLFxuICAgIFsndGFnJywgdGV4dCgndGFnJyldLFxuICBdO1xuICByZXR1cm4gbmV3IE1hcChhbGwuZmxhdE1hcCgoW25hbWUsIHZhbHVlXSkgPT4gKHZhbHVlID09PSB1bmRlZmluZWQgPyBbXSA6IFtbbmFtZSwgdmFsdWVdIGFzIGNvbnN0XSkpKTtcbn1cblxuZnVuY3Rpb24gdGV4dEZyb20odGVtcGxhdGU6IFRlbXBsYXRlLCBldmFsdWF0aW9uOiBFdmFsdWF0aW9uKTogc3RyaW5nIHtcbiAgY29uc3QgdmFsdWUgPSB0ZW1wbGF0ZS5ldmFsdWF0ZShldmFsdWF0aW9uKTtcbiAgcmV0dXJuIHZhbHVlID09PSBvbWl0dGVkID8gJycgOiB0ZXh0T2YodmFsdWUpO1xufVxuXG5mdW5jdGlvbiB2ZXJpZmllcihmaWxlOiBBbnN3ZXJzRmlsZSwgeyBuYW1lLCB5YW1sLCBsb2FkcyB9OiBTaWduYXR1cmVTZXR0aW5nKTogVmVyaWZ5IHtcbiAgY29uc3QgY292ZXJlZCA9IChmaWxlLmNvbXBvbmVudHMgPz8gW10pLm1hcCgoc3BlYywgaW5kZXgpID0+XG4gICAgY29tcG9uZW50RnJvbShzcGVjLCB5YW1sLnBvc2l0aW9uKFsnYW5zd2VycycsICdjb21wb25lbnRzJywgaW5kZXhdKSksXG4gICk7XG4gIGNvbnN0IG9sZGVzdCA9IHBhcnNlRHVyYXRpb24oZmlsZVsnb2xkZXItdGhhbiddID8/ICc1bScpIGFzIG51bWJlcjtcbiAgY29uc3Qga2V5cyA9IE9iamVjdC5lbnRyaWVzKGZpbGUua2V5cykubWFwKChbaWQsIHsgYWxnb3JpdGhtLCBrZXkgfV0pID0+ICh7XG4gICAgaWQsXG4gICAgYWxnb3JpdGhtOiBtZXNzYWdlQWxnb3JpdGhtcy5nZXQoYWxnb3JpdGhtKSBhcyBOb25OdWxsYWJsZTxSZXR1cm5UeXBlPHR5cGVvZiBtZXNzYWdlQWxnb3JpdGhtcy5nZXQ+PixcbiAgICBrZXk6IGNvbXBpbGVUZW1wbGF0ZShrZXksIHlhbWwucG9zaXRpb24oWydhbnN3ZXJzJywgJ2tleXMnLCBpZCwgJ2tleSddKSwgbG9hZHMpLFxuICB9KSk7XG4gIHJldHVybiAocmVjZWl2ZWQsIHNlbnQsIHJvb20pID0+IHtcbiAgICBjb25zdCBldmFsdWF0aW9uID0gbmV3IEV2YWx1YXRpb24obmV3IFJlY2lwZU5hbWVzKG5hbWUsIHNlbnQsIHJvb20udmFyaWFibGVzKSwgcm9vbSk7XG4gICAgcmV0dXJuIGFuc3dlclByb2JsZW0ocmVjZWl2ZWQsIHNlbnQsIHtcbiAgICAgIHJlcXVpcmVkOiBmaWxlLnNpZ25lZCAhPT0gJ3BlcmhhcHMnLFxuICAgICAgY292ZXJlZCxcbiAgICAgIGtleXM6IG5ldyBNYXAoa2V5cy5tYXAoKHsgaWQsIGFsZ29yaXRobSwga2V5IH0pID0+IFtpZCwgeyBhbGdvcml0aG0sIGtleTogdGV4dEZyb20oa2V5LCBldmFsdWF0aW9uKSB9XSkpLFxuICAgICAgb2xkZXN0LFxuICAgICAgbm93OiByb29tLndvcmxkLm5vdyxcbiAgICB9KTtcbiAgfTtcbn1cbiIsICIvKiogVGhlIGFsZ29yaXRobXMgb2YgdGhlIHJlZ2lzdHJ5IG9mIEhUVFAgc2lnbmF0dXJlIGFsZ29yaXRobXMgKFJGQyA5NDIxLCBzZWN0aW9uIDMuMyBhbmQgNi4yLjIpLiAqL1xuaW1wb3J0IHsgY29uc3RhbnRzLCBjcmVhdGVIbWFjLCBzaWduLCB0aW1pbmdTYWZlRXF1YWwsIHZlcmlmeSB9IGZyb20gJ25vZGU6Y3J5cHRvJztcbmltcG9ydCB7IHByaXZhdGVLZXksIHB1YmxpY0tleSB9IGZyb20gJy4uLy4uL2V4cHJlc3Npb24vZmlsdGVycy9rZXkuanMnO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5cbmV4cG9ydCBpbnRlcmZhY2UgTWVzc2FnZUFsZ29yaXRobSB7XG4gIHJlYWRvbmx5IG5hbWU6IHN0cmluZztcbiAgLyoqIEB0aHJvd3MgUHJvYmxlbSBleHByZXNzaW9uLXZhbHVlOiB0aGUga2V5IGlzIG5vdCBvZiB0aGF0IGtpbmQgKi9cbiAgc2lnbihiYXNlOiBzdHJpbmcsIGtleTogc3RyaW5nKTogQnVmZmVyO1xuICB2ZXJpZnkoYmFzZTogc3RyaW5nLCBrZXk6IHN0cmluZywgc2lnbmF0dXJlOiBVaW50OEFycmF5KTogYm9vbGVhbjtcbn1cblxudHlwZSBPcHRpb25zID0gT21pdDxQYXJhbWV0ZXJzPHR5cGVvZiBzaWduPlsyXSAmIG9iamVjdCwgJ2tleSc+O1xuXG5mdW5jdGlvbiBvZktleVBhaXIoXG4gIG5hbWU6IHN0cmluZyxcbiAgaGFzaDogc3RyaW5nIHwgbnVsbCxcbiAga2luZHM6IHJlYWRvbmx5IHN0cmluZ1tdLFxuICBvcHRpb25zOiBPcHRpb25zID0ge30sXG4pOiBNZXNzYWdlQWxnb3JpdGhtIHtcbiAgY29uc3QgZGVtYW5kID0gKGtpbmQ6IHN0cmluZyB8IHVuZGVmaW5lZCk6IHZvaWQgPT4ge1xuICAgIGlmIChraW5kID09PSB1bmRlZmluZWQgfHwgIWtpbmRzLmluY2x1ZGVzKGtpbmQpKVxuICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ2V4cHJlc3Npb24tdmFsdWUnLCB7XG4gICAgICAgIHdoYXQ6IGAke25hbWV9IG5lZWRzIGEga2V5IG9mIHRoZSBraW5kICR7a2luZHMuam9pbignIG9yICcpfSwgbm90ICR7a2luZH1gLFxuICAgICAgfSk7XG4gIH07XG4gIHJldHVybiB7XG4gICAgbmFtZSxcbiAgICBzaWduKGJhc2UsIHRleHQpIHtcbiAgICAgIGNvbnN0IGtleSA9IHByaXZhdGVLZXkodGV4dCk7XG4gICAgICBkZW1hbmQoa2V5LmFzeW1tZXRyaWNLZXlUeXBlKTtcbiAgICAgIHJldHVybiBzaWduKGhhc2gsIEJ1ZmZlci5mcm9tKGJhc2UpLCB7IGtleSwgLi4ub3B0aW9ucyB9KTtcbiAgICB9LFxuICAgIHZlcmlmeShiYXNlLCB0ZXh0LCBzaWduYXR1cmUpIHtcbiAgICAgIGNvbnN0IGtleSA9IHB1YmxpY0tleSh0ZXh0KTtcbiAgICAgIGRlbWFuZChrZXkuYXN5bW1ldHJpY0tleVR5cGUpO1xuICAgICAgcmV0dXJuIHZlcmlmeShoYXNoLCBCdWZmZXIuZnJvbShiYXNlKSwgeyBrZXksIC4uLm9wdGlvbnMgfSwgc2lnbmF0dXJlKTtcbiAgICB9LFxuICB9O1xufVxuXG5jb25zdCBwc3MgPSB7IHBhZGRpbmc6IGNvbnN0YW50cy5SU0FfUEtDUzFfUFNTX1BBRERJTkcsIHNhbHRMZW5ndGg6IDY0IH07XG5jb25zdCByYXcgPSB7IGRzYUVuY29kaW5nOiAnaWVlZS1wMTM2MycgfSBhcyBjb25zdDtcblxuY29uc3QgaG1hYzogTWVzc2FnZUFsZ29yaXRobSA9IHtcbiAgbmFtZTogJ2htYWMtc2hhMjU2JyxcbiAgc2lnbjogKGJhc2UsIGtleSkgPT4gY3JlYXRlSG1hYygnc2hhMjU2Jywgc2hhcmVkS2V5KGtleSkpLnVwZGF0ZShiYXNlKS5kaWdlc3QoKSxcbiAgdmVyaWZ5KGJhc2UsIGtleSwgc2lnbmF0dXJlKSB7XG4gICAgY29uc3Qgb3duID0gaG1hYy5zaWduKGJhc2UsIGtleSk7XG4gICAgcmV0dXJuIG93bi5sZW5ndGggPT09IHNpZ25hdHVyZS5sZW5ndGggJiYgdGltaW5nU2FmZUVxdWFsKG93biwgc2lnbmF0dXJlKTtcbiAgfSxcbn07XG5cbi8qKiBBIHNoYXJlZCBrZXkgaXMgYnl0ZXMsIGFuZCB2ZW5kb3JzIHdyaXRlIHRoZW0gaW4gYmFzZTY0IChSRkMgNDY0OCkuICovXG5mdW5jdGlvbiBzaGFyZWRLZXkodGV4dDogc3RyaW5nKTogQnVmZmVyIHtcbiAgaWYgKCEvXltBLVphLXowLTkrL18tXSs9ezAsMn0kLy50ZXN0KHRleHQudHJpbSgpKSkge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCdleHByZXNzaW9uLXZhbHVlJywge1xuICAgICAgd2hhdDogJ3RoZSBrZXkgb2YgaG1hYy1zaGEyNTYgaXMgbm8gYmFzZTY0JyxcbiAgICAgIHJlbWVkeTogJ2Ega2V5IHRoYXQgaXMgcGxhaW4gdGV4dDogJHtzZWNyZXQuTkFNRSB8IGJhc2U2NH0nLFxuICAgIH0pO1xuICB9XG4gIHJldHVybiBCdWZmZXIuZnJvbSh0ZXh0LnRyaW0oKSwgL1stX10vLnRlc3QodGV4dCkgPyAnYmFzZTY0dXJsJyA6ICdiYXNlNjQnKTtcbn1cblxuZXhwb3J0IGNvbnN0IG1lc3NhZ2VBbGdvcml0aG1zOiBSZWFkb25seU1hcDxzdHJpbmcsIE1lc3NhZ2VBbGdvcml0aG0+ID0gbmV3IE1hcChcbiAgW1xuICAgIG9mS2V5UGFpcigncnNhLXBzcy1zaGE1MTInLCAnc2hhNTEyJywgWydyc2EnLCAncnNhLXBzcyddLCBwc3MpLFxuICAgIG9mS2V5UGFpcigncnNhLXYxXzUtc2hhMjU2JywgJ3NoYTI1NicsIFsncnNhJ10pLFxuICAgIGhtYWMsXG4gICAgb2ZLZXlQYWlyKCdlY2RzYS1wMjU2LXNoYTI1NicsICdzaGEyNTYnLCBbJ2VjJ10sIHJhdyksXG4gICAgb2ZLZXlQYWlyKCdlY2RzYS1wMzg0LXNoYTM4NCcsICdzaGEzODQnLCBbJ2VjJ10sIHJhdyksXG4gICAgb2ZLZXlQYWlyKCdlZDI1NTE5JywgbnVsbCwgWydlZDI1NTE5J10pLFxuICBdLm1hcCgoYWxnb3JpdGhtKSA9PiBbYWxnb3JpdGhtLm5hbWUsIGFsZ29yaXRobV0pLFxuKTtcbiIsICIvKiogVGhlIHNpZ25hdHVyZSBiYXNlIChSRkMgOTQyMSwgc2VjdGlvbiAyLjUpIGFuZCBpdHMgcGFyYW1ldGVycyAoc2VjdGlvbiAyLjMpLiAqL1xuaW1wb3J0IHsgdHlwZSBCYXJlSXRlbSwgdHlwZSBJbm5lckxpc3QsIHNlcmlhbGl6ZUlubmVyTGlzdCB9IGZyb20gJ3N0cnVjdHVyZWQtaGVhZGVycyc7XG5pbXBvcnQgeyB0eXBlIENvbXBvbmVudCwgY29tcG9uZW50VmFsdWUsIGlkZW50aWZpZXIsIGlkZW50aWZpZXJJdGVtLCB0eXBlIE1lc3NhZ2UgfSBmcm9tICcuL2NvbXBvbmVudHMuanMnO1xuXG4vKiogYChcIkBtZXRob2RcIiBcIkBwYXRoXCIpO2NyZWF0ZWQ9XHUyMDI2YCwgYXMgaXQgc3RhbmRzIGluIGBTaWduYXR1cmUtSW5wdXRgLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHNpZ25hdHVyZVBhcmFtcyhcbiAgY29tcG9uZW50czogcmVhZG9ubHkgQ29tcG9uZW50W10sXG4gIHBhcmFtZXRlcnM6IFJlYWRvbmx5TWFwPHN0cmluZywgQmFyZUl0ZW0+LFxuKTogSW5uZXJMaXN0IHtcbiAgcmV0dXJuIFtjb21wb25lbnRzLm1hcChpZGVudGlmaWVySXRlbSksIG5ldyBNYXAocGFyYW1ldGVycyldO1xufVxuXG4vKipcbiAqIFRoZSB0ZXh0IHRoYXQgaXMgc2lnbmVkOiBhIGxpbmUgYSBjb21wb25lbnQsIHRoZSBwYXJhbWV0ZXJzIGxhc3QsIG5vIGxpbmUgYnJlYWsgYXQgdGhlIGVuZC5cbiAqIEBwYXJhbSBwYXJhbXMgZXhhY3RseSBhcyB0aGV5IGFyZSBzZW50OiB3aGF0IHdhcyByZWNlaXZlZCBpcyBub3Qgd3JpdHRlbiBhbmV3XG4gKiBAdGhyb3dzIFByb2JsZW0gZXhwcmVzc2lvbi12YWx1ZTogdGhlIG1lc3NhZ2UgbGFja3MgYSBjb21wb25lbnRcbiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHNpZ25hdHVyZUJhc2UoY29tcG9uZW50czogcmVhZG9ubHkgQ29tcG9uZW50W10sIHBhcmFtczogc3RyaW5nLCBtZXNzYWdlOiBNZXNzYWdlKTogc3RyaW5nIHtcbiAgY29uc3QgbGluZXMgPSBjb21wb25lbnRzLm1hcCgoY29tcG9uZW50KSA9PiBgJHtpZGVudGlmaWVyKGNvbXBvbmVudCl9OiAke2NvbXBvbmVudFZhbHVlKGNvbXBvbmVudCwgbWVzc2FnZSl9YCk7XG4gIHJldHVybiBbLi4ubGluZXMsIGBcIkBzaWduYXR1cmUtcGFyYW1zXCI6ICR7cGFyYW1zfWBdLmpvaW4oJ1xcbicpO1xufVxuXG5leHBvcnQgY29uc3QgcGFyYW1zVGV4dCA9IChsaXN0OiBJbm5lckxpc3QpOiBzdHJpbmcgPT4gc2VyaWFsaXplSW5uZXJMaXN0KGxpc3QpO1xuIiwgIi8qKiBDb21wb25lbnRzIG9mIGEgbWVzc2FnZSB0aGF0IGEgc2lnbmF0dXJlIGNvdmVycywgYW5kIHRoZWlyIGNhbm9uaWNhbCB2YWx1ZXMgKFJGQyA5NDIxLCBzZWN0aW9ucyAyLjEgYW5kIDIuMikuICovXG5pbXBvcnQge1xuICB0eXBlIEJhcmVJdGVtLFxuICB0eXBlIERpY3Rpb25hcnksXG4gIHR5cGUgSXRlbSxcbiAgcGFyc2VEaWN0aW9uYXJ5LFxuICBwYXJzZUl0ZW0sXG4gIHBhcnNlTGlzdCxcbiAgc2VyaWFsaXplRGljdGlvbmFyeSxcbiAgc2VyaWFsaXplSW5uZXJMaXN0LFxuICBzZXJpYWxpemVJdGVtLFxuICBzZXJpYWxpemVMaXN0LFxufSBmcm9tICdzdHJ1Y3R1cmVkLWhlYWRlcnMnO1xuaW1wb3J0IHR5cGUgeyBDb21wb25lbnRTcGVjIH0gZnJvbSAnLi4vLi4vY29sbGVjdGlvbi9maWxlcy9zaWduYXR1cmUtZmlsZS5qcyc7XG5pbXBvcnQgeyB0eXBlIEZpbGVQb3NpdGlvbiwgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5cbi8qKiBPbmUgY29tcG9uZW50OiBhIGhlYWRlciBpbiBzbWFsbCBsZXR0ZXJzLCBvciBhIGRlcml2ZWQgb25lLiAqL1xuZXhwb3J0IGludGVyZmFjZSBDb21wb25lbnQge1xuICByZWFkb25seSBuYW1lOiBzdHJpbmc7XG4gIHJlYWRvbmx5IHNmOiBib29sZWFuO1xuICByZWFkb25seSBrZXk6IHN0cmluZyB8IHVuZGVmaW5lZDtcbiAgcmVhZG9ubHkgYnM6IGJvb2xlYW47XG4gIHJlYWRvbmx5IHRyOiBib29sZWFuO1xuICByZWFkb25seSByZXE6IGJvb2xlYW47XG4gIC8qKiBPZiBgQHF1ZXJ5LXBhcmFtYCwgYXMgaXQgaXMgZW5jb2RlZC4gKi9cbiAgcmVhZG9ubHkgcGFyYW06IHN0cmluZyB8IHVuZGVmaW5lZDtcbn1cblxudHlwZSBMaW5lcyA9IHJlYWRvbmx5IChyZWFkb25seSBbbmFtZTogc3RyaW5nLCB2YWx1ZTogc3RyaW5nXSlbXTtcblxuLyoqIFdoYXQgY29tcG9uZW50cyBhcmUgdGFrZW4gZnJvbS4gKi9cbmV4cG9ydCBpbnRlcmZhY2UgTWVzc2FnZSB7XG4gIHJlYWRvbmx5IG1ldGhvZD86IHN0cmluZztcbiAgcmVhZG9ubHkgdXJsPzogVVJMO1xuICByZWFkb25seSBzdGF0dXM/OiBudW1iZXI7XG4gIHJlYWRvbmx5IGhlYWRlcnM6IExpbmVzO1xuICByZWFkb25seSB0cmFpbGVyczogTGluZXM7XG4gIC8qKiBPZiBhbiBhbnN3ZXI6IHdoYXQgd2FzIGFza2VkLiAqL1xuICByZWFkb25seSByZXF1ZXN0PzogTWVzc2FnZTtcbn1cblxuY29uc3QgZGVyaXZlZCA9IG5ldyBTZXQoW1xuICAnQG1ldGhvZCcsXG4gICdAdGFyZ2V0LXVyaScsXG4gICdAYXV0aG9yaXR5JyxcbiAgJ0BzY2hlbWUnLFxuICAnQHJlcXVlc3QtdGFyZ2V0JyxcbiAgJ0BwYXRoJyxcbiAgJ0BxdWVyeScsXG4gICdAcXVlcnktcGFyYW0nLFxuICAnQHN0YXR1cycsXG5dKTtcblxuLyoqIEB0aHJvd3MgUHJvYmxlbSBmaWxlLXNoYXBlOiBubyBzdWNoIGNvbXBvbmVudCwgb3IgcGFyYW1ldGVycyB0aGF0IGV4Y2x1ZGUgZWFjaCBvdGhlciAqL1xuZXhwb3J0IGZ1bmN0aW9uIGNvbXBvbmVudEZyb20oc3BlYzogQ29tcG9uZW50U3BlYywgd2hlcmU/OiBGaWxlUG9zaXRpb24pOiBDb21wb25lbnQge1xuICBjb25zdCBnaXZlbiA9IHR5cGVvZiBzcGVjID09PSAnc3RyaW5nJyA/IHsgbmFtZTogc3BlYyB9IDogc3BlYztcbiAgY29uc3QgY29tcG9uZW50OiBDb21wb25lbnQgPSB7XG4gICAgbmFtZTogZ2l2ZW4ubmFtZS50b0xvd2VyQ2FzZSgpLFxuICAgIHNmOiBnaXZlbi5zZiA/PyBmYWxzZSxcbiAgICBrZXk6IGdpdmVuLmtleSxcbiAgICBiczogZ2l2ZW4uYnMgPz8gZmFsc2UsXG4gICAgdHI6IGdpdmVuLnRyID8/IGZhbHNlLFxuICAgIHJlcTogZ2l2ZW4ucmVxID8/IGZhbHNlLFxuICAgIHBhcmFtOiBnaXZlbi5wYXJhbSxcbiAgfTtcbiAgY29uc3QgeyBuYW1lLCBzZiwga2V5LCBicywgcGFyYW0gfSA9IGNvbXBvbmVudDtcbiAgY29uc3Qgd3JvbmcgPSAod2hhdDogc3RyaW5nKTogUHJvYmxlbSA9PiBuZXcgUHJvYmxlbSgnZmlsZS1zaGFwZScsIHsgd2hhdCwgd2hlcmUgfSk7XG4gIGlmIChuYW1lLnN0YXJ0c1dpdGgoJ0AnKSAmJiAhZGVyaXZlZC5oYXMobmFtZSkpXG4gICAgdGhyb3cgd3JvbmcoYHRoZXJlIGlzIG5vIGNvbXBvbmVudCAke25hbWV9OyBkZXJpdmVkIG9uZXMgYXJlICR7Wy4uLmRlcml2ZWRdLmpvaW4oJywgJyl9YCk7XG4gIGlmICgobmFtZSA9PT0gJ0BxdWVyeS1wYXJhbScpICE9PSAocGFyYW0gIT09IHVuZGVmaW5lZCkpXG4gICAgdGhyb3cgd3JvbmcoXG4gICAgICBuYW1lID09PSAnQHF1ZXJ5LXBhcmFtJ1xuICAgICAgICA/ICdAcXVlcnktcGFyYW0gbmVlZHMgcGFyYW06LCB0aGUgbmFtZSBvZiB0aGUgcGFyYW1ldGVyJ1xuICAgICAgICA6ICdvbmx5IEBxdWVyeS1wYXJhbSBoYXMgYSBwYXJhbScsXG4gICAgKTtcbiAgaWYgKG5hbWUuc3RhcnRzV2l0aCgnQCcpICYmIChzZiB8fCBicyB8fCBrZXkgIT09IHVuZGVmaW5lZCkpIHRocm93IHdyb25nKGAke25hbWV9IHRha2VzIG5laXRoZXIgc2YsIGJzIG5vciBrZXlgKTtcbiAgaWYgKGJzICYmIChzZiB8fCBrZXkgIT09IHVuZGVmaW5lZCkpIHRocm93IHdyb25nKGAke25hbWV9OiBicyBnb2VzIHdpdGggbmVpdGhlciBzZiBub3Iga2V5IChSRkMgOTQyMSwgc2VjdGlvbiAyLjEpYCk7XG4gIHJldHVybiBjb21wb25lbnQ7XG59XG5cbi8qKiBBcyBpdCBzdGFuZHMgaW4gYFNpZ25hdHVyZS1JbnB1dGAgYW5kIGluIGZyb250IG9mIGl0cyB2YWx1ZS4gKi9cbmV4cG9ydCBmdW5jdGlvbiBpZGVudGlmaWVySXRlbSh7IG5hbWUsIHNmLCBrZXksIGJzLCB0ciwgcmVxLCBwYXJhbSB9OiBDb21wb25lbnQpOiBJdGVtIHtcbiAgY29uc3QgcGFyYW1ldGVycyA9IG5ldyBNYXA8c3RyaW5nLCBCYXJlSXRlbT4oKTtcbiAgaWYgKHNmKSBwYXJhbWV0ZXJzLnNldCgnc2YnLCB0cnVlKTtcbiAgaWYgKGtleSAhPT0gdW5kZWZpbmVkKSBwYXJhbWV0ZXJzLnNldCgna2V5Jywga2V5KTtcbiAgaWYgKGJzKSBwYXJhbWV0ZXJzLnNldCgnYnMnLCB0cnVlKTtcbiAgaWYgKHBhcmFtICE9PSB1bmRlZmluZWQpIHBhcmFtZXRlcnMuc2V0KCduYW1lJywgcGFyYW0pO1xuICBpZiAodHIpIHBhcmFtZXRlcnMuc2V0KCd0cicsIHRydWUpO1xuICBpZiAocmVxKSBwYXJhbWV0ZXJzLnNldCgncmVxJywgdHJ1ZSk7XG4gIHJldHVybiBbbmFtZSwgcGFyYW1ldGVyc107XG59XG5cbmV4cG9ydCBjb25zdCBpZGVudGlmaWVyID0gKGNvbXBvbmVudDogQ29tcG9uZW50KTogc3RyaW5nID0+IHNlcmlhbGl6ZUl0ZW0oaWRlbnRpZmllckl0ZW0oY29tcG9uZW50KSk7XG5cbi8qKiBPbmUgdGhhdCB3YXMgcmVjZWl2ZWQuIEB0aHJvd3MgUHJvYmxlbSBmaWxlLXNoYXBlIGFzIGBjb21wb25lbnRGcm9tYCAqL1xuZXhwb3J0IGZ1bmN0aW9uIGNvbXBvbmVudE9mKFtuYW1lLCBwYXJhbWV0ZXJzXTogSXRlbSk6IENvbXBvbmVudCB7XG4gIGNvbnN0IHsgc2YsIGtleSwgYnMsIHRyLCByZXEsIG5hbWU6IHBhcmFtIH0gPSBPYmplY3QuZnJvbUVudHJpZXMocGFyYW1ldGVycyk7XG4gIHJldHVybiBjb21wb25lbnRGcm9tKHtcbiAgICBuYW1lOiBTdHJpbmcobmFtZSksXG4gICAgLi4uKHNmID09PSB0cnVlICYmIHsgc2YgfSksXG4gICAgLi4uKGJzID09PSB0cnVlICYmIHsgYnMgfSksXG4gICAgLi4uKHRyID09PSB0cnVlICYmIHsgdHIgfSksXG4gICAgLi4uKHJlcSA9PT0gdHJ1ZSAmJiB7IHJlcSB9KSxcbiAgICAuLi4odHlwZW9mIGtleSA9PT0gJ3N0cmluZycgJiYgeyBrZXkgfSksXG4gICAgLi4uKHR5cGVvZiBwYXJhbSA9PT0gJ3N0cmluZycgJiYgeyBwYXJhbSB9KSxcbiAgfSk7XG59XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gZXhwcmVzc2lvbi12YWx1ZTogdGhlIG1lc3NhZ2UgaGFzIG5vIHN1Y2ggY29tcG9uZW50LCBvciBpdHMgdmFsdWUgY2Fubm90IGJlIHNpZ25lZCAqL1xuZXhwb3J0IGZ1bmN0aW9uIGNvbXBvbmVudFZhbHVlKGNvbXBvbmVudDogQ29tcG9uZW50LCBtZXNzYWdlOiBNZXNzYWdlKTogc3RyaW5nIHtcbiAgY29uc3Qgc291cmNlID0gY29tcG9uZW50LnJlcSA/IG1lc3NhZ2UucmVxdWVzdCA6IG1lc3NhZ2U7XG4gIGNvbnN0IHZhbHVlID1cbiAgICBzb3VyY2UgJiYgKGNvbXBvbmVudC5uYW1lLnN0YXJ0c1dpdGgoJ0AnKSA/IGRlcml2ZWRWYWx1ZShjb21wb25lbnQsIHNvdXJjZSkgOiBmaWVsZFZhbHVlKGNvbXBvbmVudCwgc291cmNlKSk7XG4gIGlmICh2YWx1ZSA9PT0gdW5kZWZpbmVkKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ2V4cHJlc3Npb24tdmFsdWUnLCB7XG4gICAgICB3aGF0OiBgdGhlIHNpZ25hdHVyZSBjb3ZlcnMgJHtpZGVudGlmaWVyKGNvbXBvbmVudCl9LCBhbmQgdGhlICR7bWVzc2FnZS5zdGF0dXMgPT09IHVuZGVmaW5lZCB8fCBjb21wb25lbnQucmVxID8gJ3JlcXVlc3QnIDogJ2Fuc3dlcid9IGhhcyBub25lYCxcbiAgICAgIHJlbWVkeTogY29tcG9uZW50Lm5hbWUuc3RhcnRzV2l0aCgnQCcpXG4gICAgICAgID8gdW5kZWZpbmVkXG4gICAgICAgIDogJ2hlYWRlcnMgdGhhdCBhIHNlc3Npb24sIGEgY29va2llIG9yIHRoZSB0cmFuc3BvcnQgYWRkcyBhcmUgdGhlcmUgdG9vOyBwcmV2aWV3IHNob3dzIHRoZW0gYWxsJyxcbiAgICB9KTtcbiAgfVxuICBpZiAoIS9eW1xcdTAwMjAtXFx1MDA3ZVxcdF0qJC8udGVzdCh2YWx1ZSkpIHtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgnZXhwcmVzc2lvbi12YWx1ZScsIHtcbiAgICAgIHdoYXQ6IGB0aGUgdmFsdWUgb2YgJHtpZGVudGlmaWVyKGNvbXBvbmVudCl9IGhvbGRzIGEgbGluZSBicmVhayBvciBhIGNoYXJhY3RlciB0aGF0IGlzIG5vdCBBU0NJSWAsXG4gICAgICByZW1lZHk6ICd3aXRoIGJzIGl0IGlzIHNpZ25lZCBhcyBieXRlcyAoUkZDIDk0MjEsIHNlY3Rpb24gMi4xLjMpJyxcbiAgICB9KTtcbiAgfVxuICByZXR1cm4gdmFsdWU7XG59XG5cbi8qKiBTZWN0aW9uIDIuMi4gKi9cbmZ1bmN0aW9uIGRlcml2ZWRWYWx1ZSh7IG5hbWUsIHBhcmFtIH06IENvbXBvbmVudCwgeyBtZXRob2QsIHVybCwgc3RhdHVzIH06IE1lc3NhZ2UpOiBzdHJpbmcgfCB1bmRlZmluZWQge1xuICBpZiAobmFtZSA9PT0gJ0BzdGF0dXMnKSByZXR1cm4gc3RhdHVzID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiBTdHJpbmcoc3RhdHVzKTtcbiAgaWYgKCF1cmwpIHJldHVybiB1bmRlZmluZWQ7XG4gIHN3aXRjaCAobmFtZSkge1xuICAgIGNhc2UgJ0BtZXRob2QnOlxuICAgICAgcmV0dXJuIG1ldGhvZDtcbiAgICBjYXNlICdAdGFyZ2V0LXVyaSc6XG4gICAgICByZXR1cm4gdXJsLm9yaWdpbiArIHVybC5wYXRobmFtZSArIHVybC5zZWFyY2g7XG4gICAgY2FzZSAnQGF1dGhvcml0eSc6XG4gICAgICByZXR1cm4gdXJsLmhvc3Q7XG4gICAgY2FzZSAnQHNjaGVtZSc6XG4gICAgICByZXR1cm4gdXJsLnByb3RvY29sLnNsaWNlKDAsIC0xKTtcbiAgICBjYXNlICdAcmVxdWVzdC10YXJnZXQnOlxuICAgICAgcmV0dXJuIHVybC5wYXRobmFtZSArIHVybC5zZWFyY2g7XG4gICAgY2FzZSAnQHBhdGgnOlxuICAgICAgcmV0dXJuIHVybC5wYXRobmFtZTtcbiAgICBjYXNlICdAcXVlcnknOlxuICAgICAgcmV0dXJuIHVybC5zZWFyY2ggPT09ICcnID8gJz8nIDogdXJsLnNlYXJjaDtcbiAgICBkZWZhdWx0OlxuICAgICAgcmV0dXJuIHF1ZXJ5UGFyYW0ocGFyYW0gYXMgc3RyaW5nLCB1cmwpO1xuICB9XG59XG5cbi8qKiBTZWN0aW9uIDIuMi44OiByZWFkIGFzIGEgZm9ybSwgd3JpdHRlbiBhcyBvY3RldHMuIEEgbmFtZSB0aGF0IHN0YW5kcyB0d2ljZSBjYW5ub3QgYmUgc2lnbmVkLiAqL1xuZnVuY3Rpb24gcXVlcnlQYXJhbShuYW1lOiBzdHJpbmcsIHsgc2VhcmNoUGFyYW1zIH06IFVSTCk6IHN0cmluZyB8IHVuZGVmaW5lZCB7XG4gIGNvbnN0IHZhbHVlcyA9IFsuLi5zZWFyY2hQYXJhbXNdLmZpbHRlcigoW293bl0pID0+IGVuY29kZWQob3duKSA9PT0gbmFtZSkubWFwKChbLCB2YWx1ZV0pID0+IGVuY29kZWQodmFsdWUpKTtcbiAgcmV0dXJuIHZhbHVlcy5sZW5ndGggPT09IDEgPyB2YWx1ZXNbMF0gOiB1bmRlZmluZWQ7XG59XG5cbi8qKiBUaGUgcGVyY2VudC1lbmNvZGluZyBvZiBmb3JtcyAoV0hBVFdHIFVSTCwgNS4yKSwgYSBzcGFjZSBhcyBvY3RldHMuICovXG5jb25zdCBlbmNvZGVkID0gKHRleHQ6IHN0cmluZyk6IHN0cmluZyA9PlxuICBlbmNvZGVVUklDb21wb25lbnQodGV4dCkucmVwbGFjZSgvWyEnKCl+XS9nLCAoY2hhcikgPT4gYCUke2NoYXIuY2hhckNvZGVBdCgwKS50b1N0cmluZygxNikudG9VcHBlckNhc2UoKX1gKTtcblxuLyoqIFNlY3Rpb24gMi4xLiAqL1xuZnVuY3Rpb24gZmllbGRWYWx1ZSh7IG5hbWUsIHNmLCBrZXksIGJzLCB0ciB9OiBDb21wb25lbnQsIHsgaGVhZGVycywgdHJhaWxlcnMgfTogTWVzc2FnZSk6IHN0cmluZyB8IHVuZGVmaW5lZCB7XG4gIGNvbnN0IGxpbmVzID0gKHRyID8gdHJhaWxlcnMgOiBoZWFkZXJzKVxuICAgIC5maWx0ZXIoKFtvd25dKSA9PiBvd24udG9Mb3dlckNhc2UoKSA9PT0gbmFtZSlcbiAgICAubWFwKChbLCB2YWx1ZV0pID0+IHZhbHVlLnJlcGxhY2UoL1sgXFx0XSpcXHI/XFxuWyBcXHRdKy9nLCAnICcpLnJlcGxhY2UoL15bIFxcdF0rfFsgXFx0XSskL2csICcnKSk7XG4gIGlmIChsaW5lcy5sZW5ndGggPT09IDApIHJldHVybiB1bmRlZmluZWQ7XG4gIGlmIChicykgcmV0dXJuIHNlcmlhbGl6ZUxpc3QobGluZXMubWFwKChsaW5lKSA9PiBbQnVmZmVyLmZyb20obGluZSwgJ2xhdGluMScpLCBuZXcgTWFwKCldKSk7XG4gIGNvbnN0IHZhbHVlID0gbGluZXMuam9pbignLCAnKTtcbiAgaWYgKGtleSAhPT0gdW5kZWZpbmVkKSByZXR1cm4gbWVtYmVyVmFsdWUobmFtZSwga2V5LCB2YWx1ZSk7XG4gIHJldHVybiBzZiA/IHN0cnVjdHVyZWQobmFtZSwgdmFsdWUpIDogdmFsdWU7XG59XG5cbmZ1bmN0aW9uIG1lbWJlclZhbHVlKG5hbWU6IHN0cmluZywga2V5OiBzdHJpbmcsIHZhbHVlOiBzdHJpbmcpOiBzdHJpbmcgfCB1bmRlZmluZWQge1xuICBjb25zdCBtZW1iZXIgPSByZWFkKG5hbWUsICgpID0+IHBhcnNlRGljdGlvbmFyeSh2YWx1ZSkpLmdldChrZXkpO1xuICBpZiAobWVtYmVyID09PSB1bmRlZmluZWQpIHJldHVybiB1bmRlZmluZWQ7XG4gIHJldHVybiBBcnJheS5pc0FycmF5KG1lbWJlclswXSlcbiAgICA/IHNlcmlhbGl6ZUlubmVyTGlzdChtZW1iZXIgYXMgUGFyYW1ldGVyczx0eXBlb2Ygc2VyaWFsaXplSW5uZXJMaXN0PlswXSlcbiAgICA6IHNlcmlhbGl6ZUl0ZW0obWVtYmVyIGFzIEl0ZW0pO1xufVxuXG4vKiogRmllbGRzIHdob3NlIHR5cGUgY2Fubm90IGJlIHNlZW4gYnkgdGhlaXIgdGV4dDogYSBsaXN0IG9mIG5hbWVzIHJlYWRzIGFzIGEgZGljdGlvbmFyeSB0b28uICovXG5jb25zdCBkaWN0aW9uYXJpZXMgPSBuZXcgU2V0KFtcbiAgJ2NvbnRlbnQtZGlnZXN0JyxcbiAgJ3JlcHItZGlnZXN0JyxcbiAgJ3dhbnQtY29udGVudC1kaWdlc3QnLFxuICAnd2FudC1yZXByLWRpZ2VzdCcsXG4gICdzaWduYXR1cmUnLFxuICAnc2lnbmF0dXJlLWlucHV0JyxcbiAgJ2FjY2VwdC1zaWduYXR1cmUnLFxuICAncHJpb3JpdHknLFxuICAnY2RuLWNhY2hlLWNvbnRyb2wnLFxuXSk7XG5cbmZ1bmN0aW9uIHN0cnVjdHVyZWQobmFtZTogc3RyaW5nLCB2YWx1ZTogc3RyaW5nKTogc3RyaW5nIHtcbiAgaWYgKGRpY3Rpb25hcmllcy5oYXMobmFtZSkpIHJldHVybiBzZXJpYWxpemVEaWN0aW9uYXJ5KHJlYWQobmFtZSwgKCkgPT4gcGFyc2VEaWN0aW9uYXJ5KHZhbHVlKSkpO1xuICBmb3IgKGNvbnN0IGFnYWluIG9mIFtcbiAgICAoKSA9PiBzZXJpYWxpemVJdGVtKHBhcnNlSXRlbSh2YWx1ZSkpLFxuICAgICgpID0+IHNlcmlhbGl6ZUxpc3QocGFyc2VMaXN0KHZhbHVlKSksXG4gICAgKCkgPT4gc2VyaWFsaXplRGljdGlvbmFyeShwYXJzZURpY3Rpb25hcnkodmFsdWUpKSxcbiAgXSkge1xuICAgIHRyeSB7XG4gICAgICByZXR1cm4gYWdhaW4oKTtcbiAgICB9IGNhdGNoIHtcbiAgICAgIC8vIFBlcmhhcHMgaXQgaXMgb2YgdGhlIG5leHQgdHlwZS5cbiAgICB9XG4gIH1cbiAgdGhyb3cgbm9TdHJ1Y3R1cmUobmFtZSk7XG59XG5cbmZ1bmN0aW9uIHJlYWQobmFtZTogc3RyaW5nLCBwYXJzZTogKCkgPT4gRGljdGlvbmFyeSk6IERpY3Rpb25hcnkge1xuICB0cnkge1xuICAgIHJldHVybiBwYXJzZSgpO1xuICB9IGNhdGNoIHtcbiAgICB0aHJvdyBub1N0cnVjdHVyZShuYW1lKTtcbiAgfVxufVxuXG5jb25zdCBub1N0cnVjdHVyZSA9IChuYW1lOiBzdHJpbmcpOiBQcm9ibGVtID0+XG4gIG5ldyBQcm9ibGVtKCdleHByZXNzaW9uLXZhbHVlJywge1xuICAgIHdoYXQ6IGB0aGUgaGVhZGVyICR7bmFtZX0gaXMgbm8gc3RydWN0dXJlZCBmaWVsZCAoUkZDIDk2NTEpYCxcbiAgICByZW1lZHk6ICdzZiBhbmQga2V5IGFyZSBmb3Igc3RydWN0dXJlZCBmaWVsZHM7IGxlYXZlIHRoZW0gb3V0LCBvciB1c2UgYnMnLFxuICB9KTtcbiIsICIvKiogYENvbnRlbnQtRGlnZXN0YCAoUkZDIDk1MzAsIHNlY3Rpb24gMik6IGRpZ2VzdHMgb2YgdGhlIGNvbnRlbnQgYXMgaXQgaXMgc2VudC4gKi9cbmltcG9ydCB7IGNyZWF0ZUhhc2ggfSBmcm9tICdub2RlOmNyeXB0byc7XG5pbXBvcnQgeyBwYXJzZURpY3Rpb25hcnksIHNlcmlhbGl6ZURpY3Rpb25hcnkgfSBmcm9tICdzdHJ1Y3R1cmVkLWhlYWRlcnMnO1xuaW1wb3J0IHR5cGUgeyBXaXJlQm9keSB9IGZyb20gJy4uLy4uL2V4Y2hhbmdlL3dpcmUuanMnO1xuXG4vKiogT3VyIG5hbWVzLCB3aGljaCBhcmUgdGhvc2Ugb2YgdGhlIHJlZ2lzdHJ5LCBhbmQgdGhlIGxpYnJhcnknczsgdGhlIG90aGVycyBvZiB0aGUgcmVnaXN0cnkgYXJlIGluc2VjdXJlLiAqL1xuY29uc3QgYWxnb3JpdGhtcyA9IHsgJ3NoYS0yNTYnOiAnc2hhMjU2JywgJ3NoYS01MTInOiAnc2hhNTEyJyB9IGFzIGNvbnN0O1xuZXhwb3J0IHR5cGUgRGlnZXN0QWxnb3JpdGhtID0ga2V5b2YgdHlwZW9mIGFsZ29yaXRobXM7XG5cbi8qKiBBIGJvZHkgb2YgZmlsZXMgaXMgcmVhZCBwaWVjZSBieSBwaWVjZS4gKi9cbmV4cG9ydCBmdW5jdGlvbiBjb250ZW50RGlnZXN0KGJvZHk6IFdpcmVCb2R5LCBhbGdvcml0aG06IERpZ2VzdEFsZ29yaXRobSk6IHN0cmluZyB7XG4gIGNvbnN0IGhhc2ggPSBjcmVhdGVIYXNoKGFsZ29yaXRobXNbYWxnb3JpdGhtXSk7XG4gIGZvciAoY29uc3QgcGllY2Ugb2YgYm9keS5zdHJlYW1lZCA/IGJvZHkuc3RyZWFtZWQucGllY2VzKCkgOiBbYm9keS5ieXRlc10pIGhhc2gudXBkYXRlKHBpZWNlKTtcbiAgcmV0dXJuIHNlcmlhbGl6ZURpY3Rpb25hcnkobmV3IE1hcChbW2FsZ29yaXRobSwgW2hhc2guZGlnZXN0KCksIG5ldyBNYXAoKV1dXSkpO1xufVxuXG4vKiogdW5kZWZpbmVkIHdoZXJlIG5vIGRpZ2VzdCBvZiBhIGtub3duIGFsZ29yaXRobSBpcyBpbiBpdC4gKi9cbmV4cG9ydCBmdW5jdGlvbiBkaWdlc3RGaXRzKGZpZWxkOiBzdHJpbmcsIGNvbnRlbnQ6IFVpbnQ4QXJyYXkpOiBib29sZWFuIHwgdW5kZWZpbmVkIHtcbiAgbGV0IGZpdHM6IGJvb2xlYW4gfCB1bmRlZmluZWQ7XG4gIGZvciAoY29uc3QgW25hbWUsIFt2YWx1ZV1dIG9mIHBhcnNlRGljdGlvbmFyeShmaWVsZCkpIHtcbiAgICBpZiAoIU9iamVjdC5oYXNPd24oYWxnb3JpdGhtcywgbmFtZSkgfHwgISh2YWx1ZSBpbnN0YW5jZW9mIEFycmF5QnVmZmVyKSkgY29udGludWU7XG4gICAgY29uc3Qgb3duID0gY3JlYXRlSGFzaChhbGdvcml0aG1zW25hbWUgYXMgRGlnZXN0QWxnb3JpdGhtXSlcbiAgICAgIC51cGRhdGUoY29udGVudClcbiAgICAgIC5kaWdlc3QoKTtcbiAgICBmaXRzID0gKGZpdHMgPz8gdHJ1ZSkgJiYgb3duLmVxdWFscyhCdWZmZXIuZnJvbSh2YWx1ZSkpO1xuICB9XG4gIHJldHVybiBmaXRzO1xufVxuIiwgIi8qKiBWZXJpZnlpbmcgYSBzaWduZWQgYW5zd2VyIChSRkMgOTQyMSwgc2VjdGlvbiAzLjIpLiAqL1xuaW1wb3J0IHsgdHlwZSBJbm5lckxpc3QsIHBhcnNlRGljdGlvbmFyeSB9IGZyb20gJ3N0cnVjdHVyZWQtaGVhZGVycyc7XG5pbXBvcnQgdHlwZSB7IFJlY2VpdmVkIH0gZnJvbSAnLi4vLi4vZXhjaGFuZ2UvcmVjZWl2ZWQuanMnO1xuaW1wb3J0IHR5cGUgeyBXaXJlUmVxdWVzdCB9IGZyb20gJy4uLy4uL2V4Y2hhbmdlL3dpcmUuanMnO1xuaW1wb3J0IHsgaGVhZGVyVmFsdWUgfSBmcm9tICcuLi8uLi9wbGFjZS9vYnNlcnZlZC5qcyc7XG5pbXBvcnQgeyBhc1Byb2JsZW0sIFByb2JsZW0gfSBmcm9tICcuLi8uLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHR5cGUgeyBNZXNzYWdlQWxnb3JpdGhtIH0gZnJvbSAnLi9hbGdvcml0aG1zLmpzJztcbmltcG9ydCB7IHBhcmFtc1RleHQsIHNpZ25hdHVyZUJhc2UgfSBmcm9tICcuL2Jhc2UuanMnO1xuaW1wb3J0IHsgdHlwZSBDb21wb25lbnQsIGNvbXBvbmVudE9mLCBpZGVudGlmaWVyLCB0eXBlIE1lc3NhZ2UgfSBmcm9tICcuL2NvbXBvbmVudHMuanMnO1xuaW1wb3J0IHsgZGlnZXN0Rml0cyB9IGZyb20gJy4vY29udGVudC1kaWdlc3QuanMnO1xuXG4vKiogV2hhdCBhbiBhbnN3ZXIgbXVzdCBwcm92ZS4gKi9cbmV4cG9ydCBpbnRlcmZhY2UgRGVtYW5kIHtcbiAgcmVhZG9ubHkgcmVxdWlyZWQ6IGJvb2xlYW47XG4gIC8qKiBXaGF0IHRoZSBzaWduYXR1cmUgbXVzdCBjb3ZlciBhdCBsZWFzdC4gKi9cbiAgcmVhZG9ubHkgY292ZXJlZDogcmVhZG9ubHkgQ29tcG9uZW50W107XG4gIC8qKiBCeSBga2V5aWRgLiAqL1xuICByZWFkb25seSBrZXlzOiBSZWFkb25seU1hcDxzdHJpbmcsIHsgcmVhZG9ubHkgYWxnb3JpdGhtOiBNZXNzYWdlQWxnb3JpdGhtOyByZWFkb25seSBrZXk6IHN0cmluZyB9PjtcbiAgLyoqIE1pbGxpc2Vjb25kcy4gKi9cbiAgcmVhZG9ubHkgb2xkZXN0OiBudW1iZXI7XG4gIHJlYWRvbmx5IG5vdzogRGF0ZTtcbn1cblxuLyoqIFNlcnZlcnMnIGNsb2NrcyBhcmUgYSBsaXR0bGUgYWhlYWQgb2Ygb3Vycy4gTWlsbGlzZWNvbmRzLiAqL1xuY29uc3QgYWhlYWQgPSAzMF8wMDA7XG5cbi8qKiBAcmV0dXJucyB3aHkgdGhlIGFuc3dlciBpcyBub3QgdG8gYmUgdHJ1c3RlZDsgdW5kZWZpbmVkIHdoZXJlIGl0IGlzICovXG5leHBvcnQgZnVuY3Rpb24gYW5zd2VyUHJvYmxlbShyZWNlaXZlZDogUmVjZWl2ZWQsIHNlbnQ6IFdpcmVSZXF1ZXN0LCBkZW1hbmQ6IERlbWFuZCk6IFByb2JsZW0gfCB1bmRlZmluZWQge1xuICBjb25zdCBtZXNzYWdlOiBNZXNzYWdlID0ge1xuICAgIHN0YXR1czogcmVjZWl2ZWQuc3RhdHVzLFxuICAgIGhlYWRlcnM6IHJlY2VpdmVkLmhlYWRlcnMsXG4gICAgdHJhaWxlcnM6IHJlY2VpdmVkLnBhcnRzLnRyYWlsZXJzLFxuICAgIHJlcXVlc3Q6IHJlcXVlc3RNZXNzYWdlKHNlbnQpLFxuICB9O1xuICBjb25zdCBpbnB1dCA9IGhlYWRlclZhbHVlKHJlY2VpdmVkLmhlYWRlcnMsICdzaWduYXR1cmUtaW5wdXQnKTtcbiAgY29uc3Qgc2lnbmF0dXJlcyA9IGhlYWRlclZhbHVlKHJlY2VpdmVkLmhlYWRlcnMsICdzaWduYXR1cmUnKTtcbiAgaWYgKGlucHV0ID09PSB1bmRlZmluZWQgfHwgc2lnbmF0dXJlcyA9PT0gdW5kZWZpbmVkKSB7XG4gICAgcmV0dXJuIGRlbWFuZC5yZXF1aXJlZFxuICAgICAgPyByZWZ1c2VkKCdpdCBoYXMgbm8gc2lnbmF0dXJlJywgJ2Fuc3dlcnM6IHNpZ25lZDogcGVyaGFwcyB0YWtlcyBhbnN3ZXJzIHdpdGhvdXQgb25lJylcbiAgICAgIDogdW5kZWZpbmVkO1xuICB9XG4gIHRyeSB7XG4gICAgY29uc3QgcmVhc29uczogc3RyaW5nW10gPSBbXTtcbiAgICBjb25zdCB2YWx1ZXMgPSBwYXJzZURpY3Rpb25hcnkoc2lnbmF0dXJlcyk7XG4gICAgZm9yIChjb25zdCBbbGFiZWwsIGxpc3RdIG9mIHBhcnNlRGljdGlvbmFyeShpbnB1dCkpIHtcbiAgICAgIGNvbnN0IFtzaWduYXR1cmVdID0gdmFsdWVzLmdldChsYWJlbCkgPz8gW107XG4gICAgICBpZiAoIUFycmF5LmlzQXJyYXkobGlzdFswXSkgfHwgIShzaWduYXR1cmUgaW5zdGFuY2VvZiBBcnJheUJ1ZmZlcikpIGNvbnRpbnVlO1xuICAgICAgY29uc3QgcmVhc29uID0gcmVhc29uQWdhaW5zdChsaXN0IGFzIElubmVyTGlzdCwgQnVmZmVyLmZyb20oc2lnbmF0dXJlKSwgbWVzc2FnZSwgZGVtYW5kKTtcbiAgICAgIGlmIChyZWFzb24gPT09IHVuZGVmaW5lZCkgcmV0dXJuIGRpZ2VzdFByb2JsZW0ocmVjZWl2ZWQsIGxpc3QgYXMgSW5uZXJMaXN0KTtcbiAgICAgIHJlYXNvbnMucHVzaChgJHtsYWJlbH06ICR7cmVhc29ufWApO1xuICAgIH1cbiAgICByZXR1cm4gcmVmdXNlZChyZWFzb25zLmpvaW4oJzsgJykgfHwgJ1NpZ25hdHVyZSBhbmQgU2lnbmF0dXJlLUlucHV0IGRvIG5vdCBiZWxvbmcgdG9nZXRoZXInKTtcbiAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICByZXR1cm4gcmVmdXNlZChgaXRzIHNpZ25hdHVyZSBjYW5ub3QgYmUgcmVhZDogJHthc1Byb2JsZW0oZXJyb3IpLndoYXR9YCk7XG4gIH1cbn1cblxuLyoqIFdoeSBhIHNpZ25hdHVyZSBkb2VzIG5vdCBjb3VudC4gKi9cbmZ1bmN0aW9uIHJlYXNvbkFnYWluc3QobGlzdDogSW5uZXJMaXN0LCBzaWduYXR1cmU6IEJ1ZmZlciwgbWVzc2FnZTogTWVzc2FnZSwgZGVtYW5kOiBEZW1hbmQpOiBzdHJpbmcgfCB1bmRlZmluZWQge1xuICBjb25zdCBbaXRlbXMsIHBhcmFtZXRlcnNdID0gbGlzdDtcbiAgY29uc3Qga2V5SWQgPSBwYXJhbWV0ZXJzLmdldCgna2V5aWQnKTtcbiAgY29uc3Qga25vd24gPVxuICAgIGRlbWFuZC5rZXlzLmdldChTdHJpbmcoa2V5SWQpKSA/P1xuICAgIChrZXlJZCA9PT0gdW5kZWZpbmVkICYmIGRlbWFuZC5rZXlzLnNpemUgPT09IDEgPyBbLi4uZGVtYW5kLmtleXMudmFsdWVzKCldWzBdIDogdW5kZWZpbmVkKTtcbiAgaWYgKCFrbm93bikgcmV0dXJuIGtleUlkID09PSB1bmRlZmluZWQgPyAnaXQgbmFtZXMgbm8ga2V5JyA6IGB0aGUga2V5ICR7a2V5SWR9IGlzIG5vdCBrbm93bmA7XG4gIGNvbnN0IG5hbWVkID0gcGFyYW1ldGVycy5nZXQoJ2FsZycpO1xuICBpZiAobmFtZWQgIT09IHVuZGVmaW5lZCAmJiBuYW1lZCAhPT0ga25vd24uYWxnb3JpdGhtLm5hbWUpXG4gICAgcmV0dXJuIGBpdCBzYXlzICR7bmFtZWR9LCBhbmQgdGhlIGtleSBpcyBmb3IgJHtrbm93bi5hbGdvcml0aG0ubmFtZX1gO1xuICBjb25zdCBjb21wb25lbnRzID0gaXRlbXMubWFwKChpdGVtKSA9PiBjb21wb25lbnRPZihpdGVtKSk7XG4gIGNvbnN0IGNvdmVyZWQgPSBuZXcgU2V0KGNvbXBvbmVudHMubWFwKGlkZW50aWZpZXIpKTtcbiAgY29uc3QgbWlzc2luZyA9IGRlbWFuZC5jb3ZlcmVkLm1hcChpZGVudGlmaWVyKS5maWx0ZXIoKG9uZSkgPT4gIWNvdmVyZWQuaGFzKG9uZSkpO1xuICBpZiAobWlzc2luZy5sZW5ndGggPiAwKSByZXR1cm4gYGl0IGRvZXMgbm90IGNvdmVyICR7bWlzc2luZy5qb2luKCcsICcpfWA7XG4gIGNvbnN0IHNlY29uZHMgPSAobmFtZTogc3RyaW5nKTogbnVtYmVyIHwgdW5kZWZpbmVkID0+IHtcbiAgICBjb25zdCB2YWx1ZSA9IHBhcmFtZXRlcnMuZ2V0KG5hbWUpO1xuICAgIHJldHVybiB0eXBlb2YgdmFsdWUgPT09ICdudW1iZXInID8gdmFsdWUgKiAxMDAwIDogdW5kZWZpbmVkO1xuICB9O1xuICBjb25zdCBbY3JlYXRlZCwgZXhwaXJlcywgbm93XSA9IFtzZWNvbmRzKCdjcmVhdGVkJyksIHNlY29uZHMoJ2V4cGlyZXMnKSwgZGVtYW5kLm5vdy5nZXRUaW1lKCldO1xuICBpZiAoZXhwaXJlcyAhPT0gdW5kZWZpbmVkICYmIGV4cGlyZXMgPCBub3cpIHJldHVybiAnaXQgaGFzIGV4cGlyZWQnO1xuICBpZiAoY3JlYXRlZCAhPT0gdW5kZWZpbmVkICYmIGNyZWF0ZWQgPiBub3cgKyBhaGVhZCkgcmV0dXJuICdpdCB3YXMgbWFkZSBpbiB0aGUgZnV0dXJlOiBhcmUgdGhlIGNsb2NrcyByaWdodD8nO1xuICBpZiAoY3JlYXRlZCAhPT0gdW5kZWZpbmVkICYmIG5vdyAtIGNyZWF0ZWQgPiBkZW1hbmQub2xkZXN0KSByZXR1cm4gJ2l0IGlzIHRvbyBvbGQnO1xuICBjb25zdCBiYXNlID0gc2lnbmF0dXJlQmFzZShjb21wb25lbnRzLCBwYXJhbXNUZXh0KGxpc3QpLCBtZXNzYWdlKTtcbiAgcmV0dXJuIGtub3duLmFsZ29yaXRobS52ZXJpZnkoYmFzZSwga25vd24ua2V5LCBzaWduYXR1cmUpXG4gICAgPyB1bmRlZmluZWRcbiAgICA6ICdpdCB3YXMgbWFkZSB3aXRoIGFub3RoZXIga2V5LCBvciBvdmVyIHNvbWV0aGluZyBlbHNlJztcbn1cblxuLyoqIEEgZGlnZXN0IHRoYXQgaXMgc2lnbmVkIHNwZWFrcyBmb3IgdGhlIGJvZHkgb25seSB3aGVyZSBpdCBmaXRzLiAqL1xuZnVuY3Rpb24gZGlnZXN0UHJvYmxlbShyZWNlaXZlZDogUmVjZWl2ZWQsIFtpdGVtc106IElubmVyTGlzdCk6IFByb2JsZW0gfCB1bmRlZmluZWQge1xuICBjb25zdCBmaWVsZCA9IGhlYWRlclZhbHVlKHJlY2VpdmVkLmhlYWRlcnMsICdjb250ZW50LWRpZ2VzdCcpO1xuICBjb25zdCB7IGJvZHksIHNhdmVkIH0gPSByZWNlaXZlZC5wYXJ0cztcbiAgY29uc3QgY29kZWQgPSBoZWFkZXJWYWx1ZShyZWNlaXZlZC5oZWFkZXJzLCAnY29udGVudC1lbmNvZGluZycpICE9PSB1bmRlZmluZWQ7XG4gIGlmIChmaWVsZCA9PT0gdW5kZWZpbmVkIHx8IGNvZGVkIHx8IHNhdmVkICE9PSB1bmRlZmluZWQgfHwgIWl0ZW1zLnNvbWUoKFtuYW1lXSkgPT4gbmFtZSA9PT0gJ2NvbnRlbnQtZGlnZXN0JykpXG4gICAgcmV0dXJuIHVuZGVmaW5lZDtcbiAgcmV0dXJuIGRpZ2VzdEZpdHMoZmllbGQsIGJvZHkpID09PSBmYWxzZVxuICAgID8gcmVmdXNlZCgnaXRzIGJvZHkgaXMgbm90IHRoZSBvbmUgdGhhdCBDb250ZW50LURpZ2VzdCBzcGVha3Mgb2YnKVxuICAgIDogdW5kZWZpbmVkO1xufVxuXG5jb25zdCByZWZ1c2VkID0gKHdoeTogc3RyaW5nLCByZW1lZHk/OiBzdHJpbmcpOiBQcm9ibGVtID0+XG4gIG5ldyBQcm9ibGVtKCdzdGVwLWZhaWxlZCcsIHtcbiAgICB3aGF0OiBgdGhlIGFuc3dlciBpcyBub3Qgc2lnbmVkIGFzIGl0IG11c3QgYmU6ICR7d2h5fWAsXG4gICAgcmVtZWR5LFxuICAgIGRhdGE6IHsgcGxhY2U6ICdzaWduYXR1cmUnIH0sXG4gIH0pO1xuXG5leHBvcnQgY29uc3QgcmVxdWVzdE1lc3NhZ2UgPSAoeyBtZXRob2QsIHVybCwgaGVhZGVycyB9OiBQaWNrPFdpcmVSZXF1ZXN0LCAnbWV0aG9kJyB8ICd1cmwnIHwgJ2hlYWRlcnMnPik6IE1lc3NhZ2UgPT4gKHtcbiAgbWV0aG9kLFxuICB1cmwsXG4gIGhlYWRlcnM6IGhlYWRlcnMubWFwKCh7IG5hbWUsIHZhbHVlIH0pID0+IFtuYW1lLCB2YWx1ZV0pLFxuICB0cmFpbGVyczogW10sXG59KTtcbiIsICIvKiogYHJlcXVlc3QtdG9rZW5gOiBhIEpTT04gV2ViIFRva2VuIChSRkMgNzUxOSkgdGhhdCBpcyBtYWRlIGZvciBlYWNoIHJlcXVlc3QgYW5kIHNpZ25lZCAoUkZDIDc1MTUpLiAqL1xuaW1wb3J0IHR5cGUgeyBSZXF1ZXN0VG9rZW5GaWxlIH0gZnJvbSAnLi4vLi4vY29sbGVjdGlvbi9maWxlcy9zaWduYXR1cmUtZmlsZS5qcyc7XG5pbXBvcnQgeyBoaWRkZW4gfSBmcm9tICcuLi8uLi9leGNoYW5nZS93aXJlLmpzJztcbmltcG9ydCB7IEV2YWx1YXRpb24sIG9taXR0ZWQgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL2V2YWx1YXRpb24uanMnO1xuaW1wb3J0IHR5cGUgeyBGaWx0ZXIgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL2ZpbHRlcnMvZmlsdGVyLmpzJztcbmltcG9ydCB7IGZpbHRlcnMgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL2ZpbHRlcnMvcmVnaXN0cnkuanMnO1xuaW1wb3J0IHsgY29tcGlsZVRyZWUgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL3RyZWUuanMnO1xuaW1wb3J0IHsgd3JpdGVKc29uIH0gZnJvbSAnLi4vLi4vdmFsdWUvanNvbi10ZXh0LmpzJztcbmltcG9ydCB7IHBhcnNlRHVyYXRpb24gfSBmcm9tICcuLi8uLi92YWx1ZS9tZWFzdXJlcy5qcyc7XG5pbXBvcnQgeyB0ZXh0T2YgfSBmcm9tICcuLi8uLi92YWx1ZS90ZXh0LmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUsIFZhbHVlTWFwIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyB3aXRoSGVhZGVyIH0gZnJvbSAnLi4vYWRkaW5nLmpzJztcbmltcG9ydCB7IFJlY2lwZU5hbWVzIH0gZnJvbSAnLi4vcmVjaXBlLXJ1bi5qcyc7XG5pbXBvcnQgdHlwZSB7IFNpZ25hdHVyZUtpbmQsIFNpZ25pbmdTdGVwIH0gZnJvbSAnLi4vc2lnbmF0dXJlLWtpbmQuanMnO1xuXG5leHBvcnQgY29uc3QgcmVxdWVzdFRva2VuOiBTaWduYXR1cmVLaW5kPFJlcXVlc3RUb2tlbkZpbGU+ID0ge1xuICBuYW1lOiAncmVxdWVzdC10b2tlbicsXG4gIGFib3V0OiAnYSBKU09OIFdlYiBUb2tlbiB0aGF0IGlzIG1hZGUgYW5kIHNpZ25lZCBmb3IgZWFjaCByZXF1ZXN0JyxcbiAgY29tcGlsZShmaWxlLCB7IG5hbWUsIHlhbWwsIGxvYWRzIH0pIHtcbiAgICBjb25zdCB7IGFsZ29yaXRobSwgaGVhZGVyID0gJ0F1dGhvcml6YXRpb24nLCBzY2hlbWUgPSAnQmVhcmVyJywgbGFzdHMgPSAnNjBzJywgdHlwZSA9ICdKV1QnIH0gPSBmaWxlO1xuICAgIGNvbnN0IHJlYWR5ID0gKHZhbHVlOiBWYWx1ZSwga2V5OiBzdHJpbmcpID0+IGNvbXBpbGVUcmVlKHZhbHVlLCAocGF0aCkgPT4geWFtbC5wb3NpdGlvbihba2V5LCAuLi5wYXRoXSksIGxvYWRzKTtcbiAgICBjb25zdCBba2V5LCBrZXlJZCwgY2xhaW1zXSA9IFtcbiAgICAgIHJlYWR5KGZpbGUua2V5LCAna2V5JyksXG4gICAgICByZWFkeShmaWxlWydrZXktaWQnXSA/PyAnJywgJ2tleS1pZCcpLFxuICAgICAgcmVhZHkoZmlsZS5jbGFpbXMgPz8ge30sICdjbGFpbXMnKSxcbiAgICBdO1xuICAgIGNvbnN0IHNlY29uZHMgPSBNYXRoLnJvdW5kKChwYXJzZUR1cmF0aW9uKGxhc3RzKSBhcyBudW1iZXIpIC8gMTAwMCk7XG4gICAgY29uc3Qgc2lnbmluZyA9IGZpbHRlckZvcihhbGdvcml0aG0pO1xuICAgIHJldHVybiB7XG4gICAgICBuYW1lLFxuICAgICAgc2lnbih3aXJlLCB7IHdvcmxkLCB2YXJpYWJsZXMsIG9uU2VjcmV0IH0pIHtcbiAgICAgICAgY29uc3QgZXZhbHVhdGlvbiA9IG5ldyBFdmFsdWF0aW9uKG5ldyBSZWNpcGVOYW1lcyhuYW1lLCB3aXJlLCB2YXJpYWJsZXMpLCB7IHdvcmxkLCBvblNlY3JldCB9KTtcbiAgICAgICAgY29uc3QgdGV4dCA9ICh0cmVlOiB0eXBlb2Yga2V5KTogc3RyaW5nID0+IHtcbiAgICAgICAgICBjb25zdCB2YWx1ZSA9IHRyZWUuZXZhbHVhdGUoZXZhbHVhdGlvbik7XG4gICAgICAgICAgcmV0dXJuIHZhbHVlID09PSBvbWl0dGVkID8gJycgOiB0ZXh0T2YodmFsdWUpO1xuICAgICAgICB9O1xuICAgICAgICBjb25zdCBpZCA9IHRleHQoa2V5SWQpO1xuICAgICAgICBjb25zdCBub3cgPSBNYXRoLmZsb29yKHdvcmxkLm5vdy5nZXRUaW1lKCkgLyAxMDAwKTtcbiAgICAgICAgY29uc3QgaGVhZCA9IHdyaXRlSnNvbih7IGFsZzogYWxnb3JpdGhtLCAuLi4odHlwZSAhPT0gJycgJiYgeyB0eXA6IHR5cGUgfSksIC4uLihpZCAhPT0gJycgJiYgeyBraWQ6IGlkIH0pIH0pO1xuICAgICAgICBjb25zdCBbb3duLCBzZWNyZXRDbGFpbXNdID0gZXZhbHVhdGlvbi50cmFjZWQoKCkgPT4gY2xhaW1zLmV2YWx1YXRlKGV2YWx1YXRpb24pKTtcbiAgICAgICAgY29uc3QgYm9keSA9IHdyaXRlSnNvbih7IC4uLihvd24gYXMgVmFsdWVNYXApLCBpYXQ6IG5vdywgZXhwOiBub3cgKyBzZWNvbmRzIH0pO1xuICAgICAgICBjb25zdCBiYXNlID0gYCR7ZW5jb2RlZChoZWFkKX0uJHtlbmNvZGVkKGJvZHkpfWA7XG4gICAgICAgIGNvbnN0IHNpZ25hdHVyZSA9IHNpZ25pbmcuYXBwbHkoYmFzZSwgW3RleHQoa2V5KV0sIGV2YWx1YXRpb24pIGFzIFVpbnQ4QXJyYXk7XG4gICAgICAgIGNvbnN0IHRva2VuID0gYCR7YmFzZX0uJHtCdWZmZXIuZnJvbShzaWduYXR1cmUpLnRvU3RyaW5nKCdiYXNlNjR1cmwnKX1gO1xuICAgICAgICBvblNlY3JldCh0b2tlbik7XG4gICAgICAgIGNvbnN0IHZhbHVlID0gc2NoZW1lID09PSAnJyA/IHRva2VuIDogYCR7c2NoZW1lfSAke3Rva2VufWA7XG4gICAgICAgIGNvbnN0IHN0ZXAgPSAobmFtZWQ6IHN0cmluZywgbWFkZTogc3RyaW5nLCBzZWNyZXQgPSBmYWxzZSk6IFNpZ25pbmdTdGVwID0+ICh7XG4gICAgICAgICAgbmFtZTogbmFtZWQsXG4gICAgICAgICAgcGFydDogJ3ZhbHVlJyxcbiAgICAgICAgICB2YWx1ZTogbWFkZSxcbiAgICAgICAgICBzZWNyZXQsXG4gICAgICAgICAgc2hvd246IHNlY3JldCA/IHVuZGVmaW5lZCA6IG1hZGUsXG4gICAgICAgIH0pO1xuICAgICAgICByZXR1cm4ge1xuICAgICAgICAgIHdpcmU6IHdpdGhIZWFkZXIod2lyZSwgeyBuYW1lOiBoZWFkZXIsIHZhbHVlLCBvcmlnaW46IGBzaWduYXR1cmUgJHtuYW1lfWAsIHNlY3JldDogdHJ1ZSB9KSxcbiAgICAgICAgICBzdGVwczogW1xuICAgICAgICAgICAgc3RlcCgnaGVhZGVyJywgaGVhZCksXG4gICAgICAgICAgICBzdGVwKCdjbGFpbXMnLCBib2R5LCBzZWNyZXRDbGFpbXMpLFxuICAgICAgICAgICAgc3RlcCgnYmFzZScsIGJhc2UsIHNlY3JldENsYWltcyksXG4gICAgICAgICAgICBzdGVwKCd0b2tlbicsIHRva2VuLCB0cnVlKSxcbiAgICAgICAgICAgIHtcbiAgICAgICAgICAgICAgbmFtZTogaGVhZGVyLFxuICAgICAgICAgICAgICBwYXJ0OiAnaGVhZGVyJyxcbiAgICAgICAgICAgICAgdmFsdWUsXG4gICAgICAgICAgICAgIHNlY3JldDogdHJ1ZSxcbiAgICAgICAgICAgICAgc2hvd246IHNjaGVtZSA9PT0gJycgPyB1bmRlZmluZWQgOiBgJHtzY2hlbWV9ICR7aGlkZGVufWAsXG4gICAgICAgICAgICB9LFxuICAgICAgICAgIF0sXG4gICAgICAgIH07XG4gICAgICB9LFxuICAgIH07XG4gIH0sXG59O1xuXG5jb25zdCBlbmNvZGVkID0gKHRleHQ6IHN0cmluZyk6IHN0cmluZyA9PiBCdWZmZXIuZnJvbSh0ZXh0KS50b1N0cmluZygnYmFzZTY0dXJsJyk7XG5cbi8qKiBUaGUgZmlsdGVyIHRoYXQgc2lnbnMgYXMgdGhlIGFsZ29yaXRobSBvZiB0aGF0IG5hbWUgZG9lcyAoUkZDIDc1MTgsIHNlY3Rpb24gMykuICovXG5mdW5jdGlvbiBmaWx0ZXJGb3IoYWxnb3JpdGhtOiBzdHJpbmcpOiBGaWx0ZXIge1xuICBjb25zdCBzaXplID0gYWxnb3JpdGhtLnNsaWNlKDIpO1xuICBjb25zdCBuYW1lczogUmVhZG9ubHk8UmVjb3JkPHN0cmluZywgc3RyaW5nPj4gPSB7XG4gICAgSFM6IGBobWFjLXNoYS0ke3NpemV9YCxcbiAgICBSUzogYHNpZ24tcnNhLXNoYS0ke3NpemV9YCxcbiAgICBQUzogYHNpZ24tcnNhLXBzcy1zaGEtJHtzaXplfWAsXG4gICAgRVM6IGBzaWduLWVjZHNhLXNoYS0ke3NpemV9YCxcbiAgfTtcbiAgcmV0dXJuIGZpbHRlcnMuZ2V0KG5hbWVzW2FsZ29yaXRobS5zbGljZSgwLCAyKV0gPz8gJ3NpZ24tZWQyNTUxOScpIGFzIEZpbHRlcjtcbn1cbiIsICIvKiogQWxsIGtpbmRzIG9mIHNpZ25hdHVyZXMuIEEgbmV3IG9uZSBpcyBvbmUgZmlsZSBhbmQgb25lIGxpbmUgaGVyZS4gKi9cbmltcG9ydCB0eXBlIHsgU2lnbmF0dXJlRmlsZSB9IGZyb20gJy4uL2NvbGxlY3Rpb24vZmlsZXMvc2lnbmF0dXJlLWZpbGUuanMnO1xuaW1wb3J0IHsga2V5ZWREaWdlc3QgfSBmcm9tICcuL2tpbmRzL2tleWVkLWRpZ2VzdC5qcyc7XG5pbXBvcnQgeyBtZXNzYWdlU2lnbmF0dXJlIH0gZnJvbSAnLi9raW5kcy9tZXNzYWdlLXNpZ25hdHVyZS5qcyc7XG5pbXBvcnQgeyByZWNpcGUgfSBmcm9tICcuL2tpbmRzL3JlY2lwZS5qcyc7XG5pbXBvcnQgeyByZXF1ZXN0VG9rZW4gfSBmcm9tICcuL2tpbmRzL3JlcXVlc3QtdG9rZW4uanMnO1xuaW1wb3J0IHR5cGUgeyBTaWduYXR1cmVLaW5kLCBTaWduYXR1cmVTZXR0aW5nLCBTaWduZXIgfSBmcm9tICcuL3NpZ25hdHVyZS1raW5kLmpzJztcblxuY29uc3QgYWxsID0gW3JlY2lwZSwgbWVzc2FnZVNpZ25hdHVyZSwga2V5ZWREaWdlc3QsIHJlcXVlc3RUb2tlbl0gYXMgY29uc3Q7XG5cbmV4cG9ydCBjb25zdCBzaWduYXR1cmVLaW5kczogUmVhZG9ubHlNYXA8c3RyaW5nLCBTaWduYXR1cmVLaW5kPiA9IG5ldyBNYXAoXG4gIGFsbC5tYXAoKGtpbmQpID0+IFtraW5kLm5hbWUsIGtpbmQgYXMgdW5rbm93biBhcyBTaWduYXR1cmVLaW5kXSksXG4pO1xuXG4vKiogQHRocm93cyBQcm9ibGVtIGFib3V0IGFueXRoaW5nIGluIHRoZSBmaWxlIHRoYXQgY2Fubm90IGJlIG1hZGUgcmVhZHkgKi9cbmV4cG9ydCBmdW5jdGlvbiBjb21waWxlU2lnbmF0dXJlKGZpbGU6IFNpZ25hdHVyZUZpbGUsIHNldHRpbmc6IFNpZ25hdHVyZVNldHRpbmcpOiBTaWduZXIge1xuICByZXR1cm4gKHNpZ25hdHVyZUtpbmRzLmdldChmaWxlLmtpbmQgPz8gJ3JlY2lwZScpIGFzIFNpZ25hdHVyZUtpbmQpLmNvbXBpbGUoZmlsZSwgc2V0dGluZyk7XG59XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBNkJPLFNBQVMsUUFBd0IsT0FBaUM7QUFDdkUsUUFBTSxTQUFTLElBQUksSUFBSSxNQUFNLE9BQU8sQ0FBQyxFQUFFLEtBQUssTUFBTSxTQUFTLE9BQU8sRUFBRSxJQUFJLENBQUMsU0FBUyxDQUFDLEtBQUssTUFBTSxJQUFJLENBQUMsQ0FBQztBQUNwRyxRQUFNLFVBQVUsSUFBSSxJQUFJLE1BQU0sT0FBTyxDQUFDLEVBQUUsS0FBSyxNQUFNLFNBQVMsUUFBUSxFQUFFLElBQUksQ0FBQyxTQUFTLENBQUMsS0FBSyxLQUFLLFlBQVksR0FBRyxJQUFJLENBQUMsQ0FBQztBQUNwSCxRQUFNLFVBQVUsQ0FBQyxNQUFTLE1BQWUsT0FBTyxvQkFBSSxJQUFPLE1BQWU7QUFDeEUsUUFBSSxLQUFLLElBQUksSUFBSSxFQUFHLFFBQU87QUFDM0IsU0FBSyxJQUFJLElBQUk7QUFDYixXQUFPLEtBQUssS0FBSyxLQUFLLENBQUMsUUFBUTtBQUM3QixZQUFNLFFBQVEsSUFBSSxTQUFTLFNBQVMsU0FBWSxPQUFPLElBQUksSUFBSSxJQUFJO0FBQ25FLGFBQU8sUUFBUSxRQUFRLE9BQU8sTUFBTSxJQUFJLElBQUksSUFBSSxTQUFTLFVBQVUsYUFBYSxHQUFHLEVBQUUsU0FBUyxJQUFJO0FBQUEsSUFDcEcsQ0FBQztBQUFBLEVBQ0g7QUFFQSxRQUFNLFNBQVMsQ0FBQyxRQUFrQjtBQUNoQyxRQUFJLElBQUksU0FBUyxPQUFRLFFBQU8sQ0FBQyxPQUFPLElBQUksSUFBSSxJQUFJLENBQUMsRUFBRSxPQUFPLENBQUMsU0FBUyxTQUFTLE1BQVM7QUFDMUYsVUFBTSxDQUFDLFFBQVEsR0FBRyxJQUFJLElBQUk7QUFDMUIsUUFBSSxXQUFXLFlBQVksUUFBUSxVQUFhLFFBQVE7QUFDdEQsYUFBTyxDQUFDLFFBQVEsSUFBSSxJQUFJLFlBQVksQ0FBQyxDQUFDLEVBQUUsT0FBTyxDQUFDLFNBQVMsU0FBUyxNQUFTO0FBQzdFLFdBQU8sYUFBYSxHQUFHLEVBQUUsUUFBUSxDQUFDLFNBQVMsTUFBTSxPQUFPLENBQUMsU0FBUyxLQUFLLFNBQVMsUUFBUSxDQUFDLFFBQVEsTUFBTSxJQUFJLENBQUMsQ0FBQztBQUFBLEVBQy9HO0FBRUEsUUFBTSxRQUFRLG9CQUFJLElBQWU7QUFDakMsUUFBTSxRQUFRLENBQUMsTUFBUyxRQUE0QjtBQUNsRCxRQUFJLE1BQU0sSUFBSSxJQUFJLEVBQUc7QUFDckIsUUFBSSxJQUFJLFNBQVMsSUFBSSxHQUFHO0FBQ3RCLFlBQU0sUUFBUSxDQUFDLEdBQUcsSUFBSSxNQUFNLElBQUksUUFBUSxJQUFJLENBQUMsR0FBRyxJQUFJLEVBQUUsSUFBSSxDQUFDLEVBQUUsS0FBSyxNQUFNLElBQUk7QUFDNUUsWUFBTSxJQUFJLFFBQVEsVUFBVTtBQUFBLFFBQzFCLE1BQU0sR0FBRyxNQUFNLEtBQUssZ0JBQWdCLENBQUM7QUFBQSxRQUNyQyxPQUFPLEtBQUs7QUFBQSxRQUNaLFFBQVE7QUFBQSxNQUNWLENBQUM7QUFBQSxJQUNIO0FBQ0EsVUFBTSxTQUFTLG9CQUFJLElBQU87QUFDMUIsZUFBVyxPQUFPLEtBQUssTUFBTTtBQUMzQixrQkFBWSxHQUFHO0FBQ2YsaUJBQVcsT0FBTyxPQUFPLEdBQUcsRUFBRyxRQUFPLElBQUksR0FBRztBQUFBLElBQy9DO0FBQ0EsZUFBVyxPQUFPLE9BQVEsT0FBTSxLQUFLLENBQUMsR0FBRyxLQUFLLElBQUksQ0FBQztBQUNuRCxVQUFNLElBQUksTUFBTSxNQUFNO0FBQUEsRUFDeEI7QUFDQSxhQUFXLFFBQVEsTUFBTyxPQUFNLE1BQU0sQ0FBQyxDQUFDO0FBQ3hDLFNBQU87QUFDVDtBQUdPLFNBQVMsVUFBMEIsT0FBbUIsT0FBa0M7QUFDN0YsUUFBTSxTQUFTLG9CQUFJLElBQU87QUFDMUIsYUFBVyxDQUFDLE1BQU0sSUFBSSxLQUFLLENBQUMsR0FBRyxLQUFLLEVBQUUsUUFBUSxHQUFHO0FBQy9DLFFBQUksQ0FBQyxPQUFPLElBQUksSUFBSSxLQUFLLENBQUMsTUFBTSxJQUFJLEVBQUc7QUFDdkMsV0FBTyxJQUFJLElBQUk7QUFDZixlQUFXLE9BQU8sS0FBTSxRQUFPLElBQUksR0FBRztBQUFBLEVBQ3hDO0FBQ0EsU0FBTyxDQUFDLEdBQUcsTUFBTSxLQUFLLENBQUMsRUFBRSxPQUFPLENBQUMsU0FBUyxPQUFPLElBQUksSUFBSSxDQUFDO0FBQzVEO0FBRUEsU0FBUyxhQUFhLEVBQUUsTUFBTSxDQUFDLE1BQU0sRUFBRSxHQUFtQjtBQUN4RCxNQUFJLFdBQVcsT0FBVyxRQUFPLENBQUMsVUFBVSxTQUFTLE1BQU07QUFFM0QsTUFBSSxXQUFXLGFBQWEsV0FBVyxTQUFVLFFBQU8sQ0FBQyxVQUFVLE1BQU07QUFDekUsTUFBSSxXQUFXLE9BQVEsUUFBTyxDQUFDLE1BQU07QUFDckMsU0FBTyxRQUFRLElBQUksTUFBTSxJQUFJLENBQUMsT0FBTyxJQUFJLENBQUM7QUFDNUM7QUFFQSxTQUFTLFlBQVksRUFBRSxNQUFNLE1BQU0sQ0FBQyxNQUFNLEdBQUcsTUFBTSxHQUFjO0FBQy9ELE1BQUksU0FBUyxVQUFVLFdBQVcsVUFBYSxZQUFZLElBQUksTUFBTSxFQUFHO0FBQ3hFLFFBQU0sSUFBSSxRQUFRLGdCQUFnQjtBQUFBLElBQ2hDLE1BQU0sZUFBZSxNQUFNO0FBQUEsSUFDM0I7QUFBQSxJQUNBLFFBQVEsR0FBRyxZQUFZLFFBQVEsWUFBWSxLQUFLLENBQUMsQ0FBQyxlQUFlLENBQUMsR0FBRyxZQUFZLEtBQUssQ0FBQyxFQUFFLEtBQUssSUFBSSxDQUFDO0FBQUEsRUFDckcsQ0FBQztBQUNIOzs7QUNsRkEsSUFBTSxRQUFRLG9CQUFJLElBQUksQ0FBQyxRQUFRLFVBQVUsT0FBTyxRQUFRLFNBQVMsUUFBUSxRQUFRLFNBQVMsTUFBTSxDQUFDO0FBRTFGLElBQU0sU0FBb0M7QUFBQSxFQUMvQyxNQUFNO0FBQUEsRUFDTixPQUFPO0FBQUEsRUFDUCxRQUFRLEVBQUUsU0FBUyxDQUFDLEdBQUcsVUFBVSxDQUFDLEdBQUcsUUFBUSxDQUFDLEdBQUcsT0FBTyxDQUFDLEVBQUUsR0FBRyxTQUFTO0FBQ3JFLFVBQU0sRUFBRSxNQUFNLEtBQUssSUFBSTtBQUN2QixlQUFXLE9BQU8sT0FBTyxLQUFLLE1BQU0sR0FBRztBQUNyQyxVQUFJLENBQUMsTUFBTSxJQUFJLEdBQUcsRUFBRztBQUNyQixZQUFNLElBQUksUUFBUSxjQUFjO0FBQUEsUUFDOUIsTUFBTSx3Q0FBd0MsR0FBRztBQUFBLFFBQ2pELE9BQU8sS0FBSyxTQUFTLENBQUMsVUFBVSxHQUFHLEdBQUcsS0FBSztBQUFBLE1BQzdDLENBQUM7QUFBQSxJQUNIO0FBQ0EsZUFBVyxPQUFPLE9BQU8sS0FBSyxPQUFPLEVBQUcsYUFBWSxLQUFLLFFBQVcsS0FBSyxTQUFTLENBQUMsV0FBVyxHQUFHLEdBQUcsS0FBSyxDQUFDO0FBQzFHLFVBQU0sUUFBUTtBQUFBLE1BQ1osQ0FBQyxVQUFVLFNBQVMsTUFBTTtBQUFBLE1BQzFCLENBQUMsU0FBUyxTQUFTLEtBQUs7QUFBQSxNQUN4QixDQUFDLFFBQVEsUUFBUSxJQUFJO0FBQUEsTUFDckIsQ0FBQyxXQUFXLFVBQVUsT0FBTztBQUFBLElBQy9CO0FBQ0EsVUFBTSxRQUFRO0FBQUEsTUFDWixNQUFNO0FBQUEsUUFBUSxDQUFDLENBQUMsS0FBSyxNQUFNLE1BQU0sTUFDL0IsT0FBTyxRQUFRLE1BQU0sRUFBRSxJQUFJLENBQUMsQ0FBQyxLQUFLLEtBQUssTUFBTSxRQUFRLEtBQUssTUFBTSxPQUFnQixDQUFDLEtBQUssR0FBRyxHQUFHLE9BQU8sQ0FBQztBQUFBLE1BQ3RHO0FBQUEsSUFDRjtBQUNBLFVBQU0sV0FBVyxDQUFDLEdBQUcsTUFBTSxLQUFLLENBQUM7QUFDakMsVUFBTSxVQUFVLGNBQWMsUUFBUTtBQUN0QyxRQUFJLFNBQVMsTUFBTSxDQUFDLEVBQUUsS0FBSyxNQUFNLFNBQVMsT0FBTyxHQUFHO0FBQ2xELFlBQU0sSUFBSSxRQUFRLGNBQWM7QUFBQSxRQUM5QixNQUFNLGNBQWMsSUFBSTtBQUFBLFFBQ3hCLE9BQU8sRUFBRSxNQUFNLEtBQUssS0FBSztBQUFBLFFBQ3pCLFFBQVE7QUFBQSxNQUNWLENBQUM7QUFBQSxJQUNIO0FBQ0EsV0FBTztBQUFBLE1BQ0w7QUFBQSxNQUNBLE1BQU0sQ0FBQyxNQUFNLE1BQU0sU0FDakI7QUFBQSxRQUNFO0FBQUEsUUFDQSxPQUFPLFVBQVUsT0FBTyxDQUFDLFNBQVMsS0FBSyxJQUFJLEdBQUcsS0FBSyxJQUFJLElBQUksS0FBSyxJQUFJLEVBQUUsQ0FBQyxJQUFJO0FBQUEsUUFDM0U7QUFBQSxRQUNBO0FBQUEsUUFDQTtBQUFBLE1BQ0Y7QUFBQSxJQUNKO0FBQUEsRUFDRjtBQUNGO0FBS0EsU0FBUyxjQUFjLFVBQStEO0FBQ3BGLFFBQU0sT0FBTyxTQUFTLFFBQVEsQ0FBQyxZQUFZLFFBQVEsSUFBSSxFQUFFLE9BQU8sQ0FBQyxFQUFFLEtBQUssTUFBTSxTQUFTLE1BQU07QUFDN0YsTUFBSSxLQUFLLEtBQUssQ0FBQyxFQUFFLEtBQUssTUFBTSxLQUFLLFdBQVcsQ0FBQyxFQUFHLFFBQU87QUFDdkQsU0FBTyxJQUFJLElBQUksS0FBSyxJQUFJLENBQUMsRUFBRSxNQUFNLENBQUMsTUFBTSxFQUFFLE1BQU0sTUFBZ0IsQ0FBQztBQUNuRTtBQUVBLFNBQVMsUUFDUCxNQUNBLE1BQ0EsT0FDQSxNQUNBLEVBQUUsTUFBTSxNQUFNLEdBQ0w7QUFDVCxTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0E7QUFBQSxJQUNBLE9BQU8sS0FBSyxTQUFTLE1BQU0sS0FBSztBQUFBLElBQ2hDLE1BQU0sVUFBVSxLQUFLLEVBQUUsSUFBSSxDQUFDLFNBQVM7QUFBQSxNQUNuQyxNQUFNLElBQUk7QUFBQSxNQUNWLE1BQU0sSUFBSSxRQUFRLENBQUM7QUFBQSxNQUNuQixPQUFPLEtBQUssU0FBUyxDQUFDLEdBQUcsTUFBTSxHQUFHLElBQUksSUFBSSxDQUFDO0FBQUEsSUFDN0MsRUFBRTtBQUFBLElBQ0YsS0FBSyxVQUFVLE9BQU8sTUFBTSxNQUFNLEtBQUs7QUFBQSxFQUN6QztBQUNGO0FBRUEsU0FBUyxVQUFVLE9BQWMsTUFBZSxNQUFnQyxPQUE4QjtBQUM1RyxRQUFNLFdBQVcsQ0FBQyxPQUFjLE9BQzlCLFlBQVksT0FBTyxDQUFDLFVBQVUsS0FBSyxTQUFTLENBQUMsR0FBRyxJQUFJLEdBQUcsS0FBSyxDQUFDLEdBQUcsS0FBSztBQUN2RSxNQUFJLENBQUMsV0FBVyxLQUFLLEtBQUssQ0FBQyxNQUFNLFFBQVEsTUFBTSxLQUFLLEdBQUc7QUFDckQsVUFBTSxPQUFPLFNBQVMsT0FBTyxJQUFJO0FBQ2pDLFdBQU8sQ0FBQyxlQUFlLEtBQUssU0FBUyxVQUFVO0FBQUEsRUFDakQ7QUFDQSxRQUFNLFFBQVEsTUFBTSxNQUFNLElBQUksQ0FBQyxNQUFhLFVBQVUsU0FBUyxRQUFRLElBQUksQ0FBQyxHQUFHLE1BQU0sU0FBUyxLQUFLLENBQUMsQ0FBQztBQUNyRyxRQUFNLFVBQVUsTUFBTSxXQUFXLE1BQU0sU0FBWSxPQUFPLE9BQU8sTUFBTSxXQUFXLENBQUM7QUFDbkYsU0FBTyxDQUFDLGVBQWUsWUFBWSxPQUFPLFNBQVMsVUFBVTtBQUMvRDtBQUdBLFNBQVMsWUFBWSxPQUF3QixTQUFpQixZQUFnQztBQUM1RixNQUFJLFdBQVcsT0FBUSxRQUFPLGNBQWMsT0FBTyxTQUFTLFVBQVU7QUFDdEUsUUFBTSxRQUFrQixDQUFDO0FBQ3pCLGFBQVcsUUFBUSxPQUFPO0FBQ3hCLFVBQU0sUUFBUSxLQUFLLFNBQVMsVUFBVTtBQUN0QyxRQUFJLFVBQVUsUUFBUztBQUN2QixRQUFJLENBQUMsTUFBTSxRQUFRLEtBQUssRUFBRyxPQUFNLEtBQUssU0FBUyxLQUFLLENBQUM7QUFBQSxRQUNoRCxZQUFXLFFBQVEsTUFBMkIsT0FBTSxLQUFLLFNBQVMsSUFBSSxDQUFDO0FBQUEsRUFDOUU7QUFDQSxTQUFPLE1BQU0sS0FBSyxPQUFPO0FBQzNCO0FBR0EsU0FBUyxjQUFjLE9BQXdCLFNBQWlCLFlBQWdDO0FBQzlGLFFBQU0sUUFBa0IsQ0FBQztBQUN6QixRQUFNLFNBQThDLENBQUM7QUFDckQsYUFBVyxRQUFRLE9BQU87QUFDeEIsZUFBVyxTQUFTLENBQUM7QUFDckIsVUFBTSxDQUFDLE9BQU8sTUFBTSxJQUFJLFdBQVcsT0FBTyxNQUFNLEtBQUssU0FBUyxVQUFVLENBQUM7QUFDekUsUUFBSSxVQUFVLFFBQVM7QUFDdkIsVUFBTSxNQUFNLFdBQVc7QUFDdkIsVUFBTSxTQUFTLE1BQU0sUUFBUSxLQUFLLElBQUssUUFBNkIsQ0FBQyxLQUFLLEdBQUcsSUFBSSxDQUFDLFNBQVMsU0FBUyxJQUFJLENBQUM7QUFDekcsZUFBVyxDQUFDLE9BQU8sSUFBSSxLQUFLLE1BQU0sUUFBUSxHQUFHO0FBQzNDLFlBQU0sS0FBSyxJQUFJO0FBQ2YsVUFBSSxNQUFNLFNBQVMsRUFBRyxRQUFPLEtBQUssRUFBRSxNQUFNLFNBQVMsUUFBUSxNQUFNLENBQUM7QUFDbEUsVUFBSSxVQUFVLElBQUksU0FBUyxLQUFLLFVBQVUsRUFBRyxRQUFPLEtBQUssR0FBRyxHQUFHO0FBQUEsVUFDMUQsUUFBTyxLQUFLLEVBQUUsTUFBTSxPQUFPLENBQUM7QUFBQSxJQUNuQztBQUFBLEVBQ0Y7QUFDQSxhQUFXLFNBQVM7QUFDcEIsU0FBTyxNQUFNLEtBQUssT0FBTztBQUMzQjtBQUVBLFNBQVMsU0FBUyxPQUFzQjtBQUN0QyxNQUFJLGlCQUFpQixZQUFZO0FBQy9CLFVBQU0sSUFBSSxRQUFRLG9CQUFvQjtBQUFBLE1BQ3BDLE1BQU07QUFBQSxNQUNOLFFBQVE7QUFBQSxJQUNWLENBQUM7QUFBQSxFQUNIO0FBQ0EsU0FBTyxVQUFVLE9BQU8sS0FBSyxPQUFPLEtBQUs7QUFDM0M7OztBQy9JTyxJQUFNLGNBQThDO0FBQUEsRUFDekQsTUFBTTtBQUFBLEVBQ04sT0FBTztBQUFBO0FBQUEsRUFFUCxTQUFTLENBQUMsRUFBRSxXQUFXLEtBQUssUUFBUSxXQUFXLE9BQU8sU0FBUyxHQUFHLEdBQUcsWUFDbkUsT0FBTztBQUFBLElBQ0w7QUFBQSxNQUNFLFFBQVEsRUFBRSxLQUFLLFFBQVEsa0JBQWtCLFNBQVMsV0FBVyxRQUFRLElBQUk7QUFBQSxNQUN6RSxTQUFTLEVBQUUsQ0FBQyxNQUFNLEdBQUcsR0FBRyxNQUFNLGFBQWE7QUFBQSxJQUM3QztBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQ0o7OztBQ2hCQSxTQUF3QixtQkFBQUEsa0JBQWlCLHVCQUFBQyw0QkFBMkI7OztBQ0FwRSxTQUFTLFdBQVcsWUFBWSxNQUFNLGlCQUFpQixjQUFjO0FBYXJFLFNBQVMsVUFDUCxNQUNBLE1BQ0EsT0FDQSxVQUFtQixDQUFDLEdBQ0Y7QUFDbEIsUUFBTSxTQUFTLENBQUMsU0FBbUM7QUFDakQsUUFBSSxTQUFTLFVBQWEsQ0FBQyxNQUFNLFNBQVMsSUFBSTtBQUM1QyxZQUFNLElBQUksUUFBUSxvQkFBb0I7QUFBQSxRQUNwQyxNQUFNLEdBQUcsSUFBSSw0QkFBNEIsTUFBTSxLQUFLLE1BQU0sQ0FBQyxTQUFTLElBQUk7QUFBQSxNQUMxRSxDQUFDO0FBQUEsRUFDTDtBQUNBLFNBQU87QUFBQSxJQUNMO0FBQUEsSUFDQSxLQUFLLE1BQU0sTUFBTTtBQUNmLFlBQU0sTUFBTSxXQUFXLElBQUk7QUFDM0IsYUFBTyxJQUFJLGlCQUFpQjtBQUM1QixhQUFPLEtBQUssTUFBTSxPQUFPLEtBQUssSUFBSSxHQUFHLEVBQUUsS0FBSyxHQUFHLFFBQVEsQ0FBQztBQUFBLElBQzFEO0FBQUEsSUFDQSxPQUFPLE1BQU0sTUFBTSxXQUFXO0FBQzVCLFlBQU0sTUFBTSxVQUFVLElBQUk7QUFDMUIsYUFBTyxJQUFJLGlCQUFpQjtBQUM1QixhQUFPLE9BQU8sTUFBTSxPQUFPLEtBQUssSUFBSSxHQUFHLEVBQUUsS0FBSyxHQUFHLFFBQVEsR0FBRyxTQUFTO0FBQUEsSUFDdkU7QUFBQSxFQUNGO0FBQ0Y7QUFFQSxJQUFNLE1BQU0sRUFBRSxTQUFTLFVBQVUsdUJBQXVCLFlBQVksR0FBRztBQUN2RSxJQUFNLE1BQU0sRUFBRSxhQUFhLGFBQWE7QUFFeEMsSUFBTSxPQUF5QjtBQUFBLEVBQzdCLE1BQU07QUFBQSxFQUNOLE1BQU0sQ0FBQyxNQUFNLFFBQVEsV0FBVyxVQUFVLFVBQVUsR0FBRyxDQUFDLEVBQUUsT0FBTyxJQUFJLEVBQUUsT0FBTztBQUFBLEVBQzlFLE9BQU8sTUFBTSxLQUFLLFdBQVc7QUFDM0IsVUFBTSxNQUFNLEtBQUssS0FBSyxNQUFNLEdBQUc7QUFDL0IsV0FBTyxJQUFJLFdBQVcsVUFBVSxVQUFVLGdCQUFnQixLQUFLLFNBQVM7QUFBQSxFQUMxRTtBQUNGO0FBR0EsU0FBUyxVQUFVLE1BQXNCO0FBQ3ZDLE1BQUksQ0FBQywyQkFBMkIsS0FBSyxLQUFLLEtBQUssQ0FBQyxHQUFHO0FBQ2pELFVBQU0sSUFBSSxRQUFRLG9CQUFvQjtBQUFBLE1BQ3BDLE1BQU07QUFBQSxNQUNOLFFBQVE7QUFBQSxJQUNWLENBQUM7QUFBQSxFQUNIO0FBQ0EsU0FBTyxPQUFPLEtBQUssS0FBSyxLQUFLLEdBQUcsT0FBTyxLQUFLLElBQUksSUFBSSxjQUFjLFFBQVE7QUFDNUU7QUFFTyxJQUFNLG9CQUEyRCxJQUFJO0FBQUEsRUFDMUU7QUFBQSxJQUNFLFVBQVUsa0JBQWtCLFVBQVUsQ0FBQyxPQUFPLFNBQVMsR0FBRyxHQUFHO0FBQUEsSUFDN0QsVUFBVSxtQkFBbUIsVUFBVSxDQUFDLEtBQUssQ0FBQztBQUFBLElBQzlDO0FBQUEsSUFDQSxVQUFVLHFCQUFxQixVQUFVLENBQUMsSUFBSSxHQUFHLEdBQUc7QUFBQSxJQUNwRCxVQUFVLHFCQUFxQixVQUFVLENBQUMsSUFBSSxHQUFHLEdBQUc7QUFBQSxJQUNwRCxVQUFVLFdBQVcsTUFBTSxDQUFDLFNBQVMsQ0FBQztBQUFBLEVBQ3hDLEVBQUUsSUFBSSxDQUFDLGNBQWMsQ0FBQyxVQUFVLE1BQU0sU0FBUyxDQUFDO0FBQ2xEOzs7QUN4RUEsU0FBd0Msc0JBQUFDLDJCQUEwQjs7O0FDQWxFO0FBQUEsRUFJRTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLE9BQ0s7QUE2QlAsSUFBTSxVQUFVLG9CQUFJLElBQUk7QUFBQSxFQUN0QjtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQ0YsQ0FBQztBQUdNLFNBQVMsY0FBYyxNQUFxQixPQUFpQztBQUNsRixRQUFNLFFBQVEsT0FBTyxTQUFTLFdBQVcsRUFBRSxNQUFNLEtBQUssSUFBSTtBQUMxRCxRQUFNLFlBQXVCO0FBQUEsSUFDM0IsTUFBTSxNQUFNLEtBQUssWUFBWTtBQUFBLElBQzdCLElBQUksTUFBTSxNQUFNO0FBQUEsSUFDaEIsS0FBSyxNQUFNO0FBQUEsSUFDWCxJQUFJLE1BQU0sTUFBTTtBQUFBLElBQ2hCLElBQUksTUFBTSxNQUFNO0FBQUEsSUFDaEIsS0FBSyxNQUFNLE9BQU87QUFBQSxJQUNsQixPQUFPLE1BQU07QUFBQSxFQUNmO0FBQ0EsUUFBTSxFQUFFLE1BQU0sSUFBSSxLQUFLLElBQUksTUFBTSxJQUFJO0FBQ3JDLFFBQU0sUUFBUSxDQUFDLFNBQTBCLElBQUksUUFBUSxjQUFjLEVBQUUsTUFBTSxNQUFNLENBQUM7QUFDbEYsTUFBSSxLQUFLLFdBQVcsR0FBRyxLQUFLLENBQUMsUUFBUSxJQUFJLElBQUk7QUFDM0MsVUFBTSxNQUFNLHlCQUF5QixJQUFJLHNCQUFzQixDQUFDLEdBQUcsT0FBTyxFQUFFLEtBQUssSUFBSSxDQUFDLEVBQUU7QUFDMUYsTUFBSyxTQUFTLG9CQUFxQixVQUFVO0FBQzNDLFVBQU07QUFBQSxNQUNKLFNBQVMsaUJBQ0wseURBQ0E7QUFBQSxJQUNOO0FBQ0YsTUFBSSxLQUFLLFdBQVcsR0FBRyxNQUFNLE1BQU0sTUFBTSxRQUFRLFFBQVksT0FBTSxNQUFNLEdBQUcsSUFBSSwrQkFBK0I7QUFDL0csTUFBSSxPQUFPLE1BQU0sUUFBUSxRQUFZLE9BQU0sTUFBTSxHQUFHLElBQUksMkRBQTJEO0FBQ25ILFNBQU87QUFDVDtBQUdPLFNBQVMsZUFBZSxFQUFFLE1BQU0sSUFBSSxLQUFLLElBQUksSUFBSSxLQUFLLE1BQU0sR0FBb0I7QUFDckYsUUFBTSxhQUFhLG9CQUFJLElBQXNCO0FBQzdDLE1BQUksR0FBSSxZQUFXLElBQUksTUFBTSxJQUFJO0FBQ2pDLE1BQUksUUFBUSxPQUFXLFlBQVcsSUFBSSxPQUFPLEdBQUc7QUFDaEQsTUFBSSxHQUFJLFlBQVcsSUFBSSxNQUFNLElBQUk7QUFDakMsTUFBSSxVQUFVLE9BQVcsWUFBVyxJQUFJLFFBQVEsS0FBSztBQUNyRCxNQUFJLEdBQUksWUFBVyxJQUFJLE1BQU0sSUFBSTtBQUNqQyxNQUFJLElBQUssWUFBVyxJQUFJLE9BQU8sSUFBSTtBQUNuQyxTQUFPLENBQUMsTUFBTSxVQUFVO0FBQzFCO0FBRU8sSUFBTSxhQUFhLENBQUMsY0FBaUMsY0FBYyxlQUFlLFNBQVMsQ0FBQztBQUc1RixTQUFTLFlBQVksQ0FBQyxNQUFNLFVBQVUsR0FBb0I7QUFDL0QsUUFBTSxFQUFFLElBQUksS0FBSyxJQUFJLElBQUksS0FBSyxNQUFNLE1BQU0sSUFBSSxPQUFPLFlBQVksVUFBVTtBQUMzRSxTQUFPLGNBQWM7QUFBQSxJQUNuQixNQUFNLE9BQU8sSUFBSTtBQUFBLElBQ2pCLEdBQUksT0FBTyxRQUFRLEVBQUUsR0FBRztBQUFBLElBQ3hCLEdBQUksT0FBTyxRQUFRLEVBQUUsR0FBRztBQUFBLElBQ3hCLEdBQUksT0FBTyxRQUFRLEVBQUUsR0FBRztBQUFBLElBQ3hCLEdBQUksUUFBUSxRQUFRLEVBQUUsSUFBSTtBQUFBLElBQzFCLEdBQUksT0FBTyxRQUFRLFlBQVksRUFBRSxJQUFJO0FBQUEsSUFDckMsR0FBSSxPQUFPLFVBQVUsWUFBWSxFQUFFLE1BQU07QUFBQSxFQUMzQyxDQUFDO0FBQ0g7QUFHTyxTQUFTLGVBQWUsV0FBc0IsU0FBMEI7QUFDN0UsUUFBTSxTQUFTLFVBQVUsTUFBTSxRQUFRLFVBQVU7QUFDakQsUUFBTSxRQUNKLFdBQVcsVUFBVSxLQUFLLFdBQVcsR0FBRyxJQUFJLGFBQWEsV0FBVyxNQUFNLElBQUksV0FBVyxXQUFXLE1BQU07QUFDNUcsTUFBSSxVQUFVLFFBQVc7QUFDdkIsVUFBTSxJQUFJLFFBQVEsb0JBQW9CO0FBQUEsTUFDcEMsTUFBTSx3QkFBd0IsV0FBVyxTQUFTLENBQUMsYUFBYSxRQUFRLFdBQVcsVUFBYSxVQUFVLE1BQU0sWUFBWSxRQUFRO0FBQUEsTUFDcEksUUFBUSxVQUFVLEtBQUssV0FBVyxHQUFHLElBQ2pDLFNBQ0E7QUFBQSxJQUNOLENBQUM7QUFBQSxFQUNIO0FBQ0EsTUFBSSxDQUFDLHVCQUF1QixLQUFLLEtBQUssR0FBRztBQUN2QyxVQUFNLElBQUksUUFBUSxvQkFBb0I7QUFBQSxNQUNwQyxNQUFNLGdCQUFnQixXQUFXLFNBQVMsQ0FBQztBQUFBLE1BQzNDLFFBQVE7QUFBQSxJQUNWLENBQUM7QUFBQSxFQUNIO0FBQ0EsU0FBTztBQUNUO0FBR0EsU0FBUyxhQUFhLEVBQUUsTUFBTSxNQUFNLEdBQWMsRUFBRSxRQUFRLEtBQUssT0FBTyxHQUFnQztBQUN0RyxNQUFJLFNBQVMsVUFBVyxRQUFPLFdBQVcsU0FBWSxTQUFZLE9BQU8sTUFBTTtBQUMvRSxNQUFJLENBQUMsSUFBSyxRQUFPO0FBQ2pCLFVBQVEsTUFBTTtBQUFBLElBQ1osS0FBSztBQUNILGFBQU87QUFBQSxJQUNULEtBQUs7QUFDSCxhQUFPLElBQUksU0FBUyxJQUFJLFdBQVcsSUFBSTtBQUFBLElBQ3pDLEtBQUs7QUFDSCxhQUFPLElBQUk7QUFBQSxJQUNiLEtBQUs7QUFDSCxhQUFPLElBQUksU0FBUyxNQUFNLEdBQUcsRUFBRTtBQUFBLElBQ2pDLEtBQUs7QUFDSCxhQUFPLElBQUksV0FBVyxJQUFJO0FBQUEsSUFDNUIsS0FBSztBQUNILGFBQU8sSUFBSTtBQUFBLElBQ2IsS0FBSztBQUNILGFBQU8sSUFBSSxXQUFXLEtBQUssTUFBTSxJQUFJO0FBQUEsSUFDdkM7QUFDRSxhQUFPLFdBQVcsT0FBaUIsR0FBRztBQUFBLEVBQzFDO0FBQ0Y7QUFHQSxTQUFTLFdBQVcsTUFBYyxFQUFFLGFBQWEsR0FBNEI7QUFDM0UsUUFBTSxTQUFTLENBQUMsR0FBRyxZQUFZLEVBQUUsT0FBTyxDQUFDLENBQUMsR0FBRyxNQUFNLFFBQVEsR0FBRyxNQUFNLElBQUksRUFBRSxJQUFJLENBQUMsQ0FBQyxFQUFFLEtBQUssTUFBTSxRQUFRLEtBQUssQ0FBQztBQUMzRyxTQUFPLE9BQU8sV0FBVyxJQUFJLE9BQU8sQ0FBQyxJQUFJO0FBQzNDO0FBR0EsSUFBTSxVQUFVLENBQUMsU0FDZixtQkFBbUIsSUFBSSxFQUFFLFFBQVEsWUFBWSxDQUFDLFNBQVMsSUFBSSxLQUFLLFdBQVcsQ0FBQyxFQUFFLFNBQVMsRUFBRSxFQUFFLFlBQVksQ0FBQyxFQUFFO0FBRzVHLFNBQVMsV0FBVyxFQUFFLE1BQU0sSUFBSSxLQUFLLElBQUksR0FBRyxHQUFjLEVBQUUsU0FBUyxTQUFTLEdBQWdDO0FBQzVHLFFBQU0sU0FBUyxLQUFLLFdBQVcsU0FDNUIsT0FBTyxDQUFDLENBQUMsR0FBRyxNQUFNLElBQUksWUFBWSxNQUFNLElBQUksRUFDNUMsSUFBSSxDQUFDLENBQUMsRUFBRUMsTUFBSyxNQUFNQSxPQUFNLFFBQVEsc0JBQXNCLEdBQUcsRUFBRSxRQUFRLG9CQUFvQixFQUFFLENBQUM7QUFDOUYsTUFBSSxNQUFNLFdBQVcsRUFBRyxRQUFPO0FBQy9CLE1BQUksR0FBSSxRQUFPLGNBQWMsTUFBTSxJQUFJLENBQUMsU0FBUyxDQUFDLE9BQU8sS0FBSyxNQUFNLFFBQVEsR0FBRyxvQkFBSSxJQUFJLENBQUMsQ0FBQyxDQUFDO0FBQzFGLFFBQU0sUUFBUSxNQUFNLEtBQUssSUFBSTtBQUM3QixNQUFJLFFBQVEsT0FBVyxRQUFPLFlBQVksTUFBTSxLQUFLLEtBQUs7QUFDMUQsU0FBTyxLQUFLLFdBQVcsTUFBTSxLQUFLLElBQUk7QUFDeEM7QUFFQSxTQUFTLFlBQVksTUFBYyxLQUFhLE9BQW1DO0FBQ2pGLFFBQU0sU0FBUyxLQUFLLE1BQU0sTUFBTSxnQkFBZ0IsS0FBSyxDQUFDLEVBQUUsSUFBSSxHQUFHO0FBQy9ELE1BQUksV0FBVyxPQUFXLFFBQU87QUFDakMsU0FBTyxNQUFNLFFBQVEsT0FBTyxDQUFDLENBQUMsSUFDMUIsbUJBQW1CLE1BQWtELElBQ3JFLGNBQWMsTUFBYztBQUNsQztBQUdBLElBQU0sZUFBZSxvQkFBSSxJQUFJO0FBQUEsRUFDM0I7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUNGLENBQUM7QUFFRCxTQUFTLFdBQVcsTUFBYyxPQUF1QjtBQUN2RCxNQUFJLGFBQWEsSUFBSSxJQUFJLEVBQUcsUUFBTyxvQkFBb0IsS0FBSyxNQUFNLE1BQU0sZ0JBQWdCLEtBQUssQ0FBQyxDQUFDO0FBQy9GLGFBQVcsU0FBUztBQUFBLElBQ2xCLE1BQU0sY0FBYyxVQUFVLEtBQUssQ0FBQztBQUFBLElBQ3BDLE1BQU0sY0FBYyxVQUFVLEtBQUssQ0FBQztBQUFBLElBQ3BDLE1BQU0sb0JBQW9CLGdCQUFnQixLQUFLLENBQUM7QUFBQSxFQUNsRCxHQUFHO0FBQ0QsUUFBSTtBQUNGLGFBQU8sTUFBTTtBQUFBLElBQ2YsUUFBUTtBQUFBLElBRVI7QUFBQSxFQUNGO0FBQ0EsUUFBTSxZQUFZLElBQUk7QUFDeEI7QUFFQSxTQUFTLEtBQUssTUFBYyxPQUFxQztBQUMvRCxNQUFJO0FBQ0YsV0FBTyxNQUFNO0FBQUEsRUFDZixRQUFRO0FBQ04sVUFBTSxZQUFZLElBQUk7QUFBQSxFQUN4QjtBQUNGO0FBRUEsSUFBTSxjQUFjLENBQUMsU0FDbkIsSUFBSSxRQUFRLG9CQUFvQjtBQUFBLEVBQzlCLE1BQU0sY0FBYyxJQUFJO0FBQUEsRUFDeEIsUUFBUTtBQUNWLENBQUM7OztBRDVOSSxTQUFTLGdCQUNkLFlBQ0EsWUFDVztBQUNYLFNBQU8sQ0FBQyxXQUFXLElBQUksY0FBYyxHQUFHLElBQUksSUFBSSxVQUFVLENBQUM7QUFDN0Q7QUFPTyxTQUFTLGNBQWMsWUFBa0MsUUFBZ0IsU0FBMEI7QUFDeEcsUUFBTSxRQUFRLFdBQVcsSUFBSSxDQUFDLGNBQWMsR0FBRyxXQUFXLFNBQVMsQ0FBQyxLQUFLLGVBQWUsV0FBVyxPQUFPLENBQUMsRUFBRTtBQUM3RyxTQUFPLENBQUMsR0FBRyxPQUFPLHdCQUF3QixNQUFNLEVBQUUsRUFBRSxLQUFLLElBQUk7QUFDL0Q7QUFFTyxJQUFNLGFBQWEsQ0FBQyxTQUE0QkMsb0JBQW1CLElBQUk7OztBRXJCOUUsU0FBUyxrQkFBa0I7QUFDM0IsU0FBUyxtQkFBQUMsa0JBQWlCLHVCQUFBQyw0QkFBMkI7QUFJckQsSUFBTSxhQUFhLEVBQUUsV0FBVyxVQUFVLFdBQVcsU0FBUztBQUl2RCxTQUFTLGNBQWMsTUFBZ0IsV0FBb0M7QUFDaEYsUUFBTSxPQUFPLFdBQVcsV0FBVyxTQUFTLENBQUM7QUFDN0MsYUFBVyxTQUFTLEtBQUssV0FBVyxLQUFLLFNBQVMsT0FBTyxJQUFJLENBQUMsS0FBSyxLQUFLLEVBQUcsTUFBSyxPQUFPLEtBQUs7QUFDNUYsU0FBT0EscUJBQW9CLG9CQUFJLElBQUksQ0FBQyxDQUFDLFdBQVcsQ0FBQyxLQUFLLE9BQU8sR0FBRyxvQkFBSSxJQUFJLENBQUMsQ0FBQyxDQUFDLENBQUMsQ0FBQztBQUMvRTtBQUdPLFNBQVMsV0FBVyxPQUFlLFNBQTBDO0FBQ2xGLE1BQUk7QUFDSixhQUFXLENBQUMsTUFBTSxDQUFDLEtBQUssQ0FBQyxLQUFLRCxpQkFBZ0IsS0FBSyxHQUFHO0FBQ3BELFFBQUksQ0FBQyxPQUFPLE9BQU8sWUFBWSxJQUFJLEtBQUssRUFBRSxpQkFBaUIsYUFBYztBQUN6RSxVQUFNLE1BQU0sV0FBVyxXQUFXLElBQXVCLENBQUMsRUFDdkQsT0FBTyxPQUFPLEVBQ2QsT0FBTztBQUNWLFlBQVEsUUFBUSxTQUFTLElBQUksT0FBTyxPQUFPLEtBQUssS0FBSyxDQUFDO0FBQUEsRUFDeEQ7QUFDQSxTQUFPO0FBQ1Q7OztBQzFCQSxTQUF5QixtQkFBQUUsd0JBQXVCO0FBdUJoRCxJQUFNLFFBQVE7QUFHUCxTQUFTLGNBQWMsVUFBb0IsTUFBbUIsUUFBcUM7QUFDeEcsUUFBTSxVQUFtQjtBQUFBLElBQ3ZCLFFBQVEsU0FBUztBQUFBLElBQ2pCLFNBQVMsU0FBUztBQUFBLElBQ2xCLFVBQVUsU0FBUyxNQUFNO0FBQUEsSUFDekIsU0FBUyxlQUFlLElBQUk7QUFBQSxFQUM5QjtBQUNBLFFBQU0sUUFBUSxZQUFZLFNBQVMsU0FBUyxpQkFBaUI7QUFDN0QsUUFBTSxhQUFhLFlBQVksU0FBUyxTQUFTLFdBQVc7QUFDNUQsTUFBSSxVQUFVLFVBQWEsZUFBZSxRQUFXO0FBQ25ELFdBQU8sT0FBTyxXQUNWLFFBQVEsdUJBQXVCLG9EQUFvRCxJQUNuRjtBQUFBLEVBQ047QUFDQSxNQUFJO0FBQ0YsVUFBTSxVQUFvQixDQUFDO0FBQzNCLFVBQU0sU0FBU0MsaUJBQWdCLFVBQVU7QUFDekMsZUFBVyxDQUFDLE9BQU8sSUFBSSxLQUFLQSxpQkFBZ0IsS0FBSyxHQUFHO0FBQ2xELFlBQU0sQ0FBQyxTQUFTLElBQUksT0FBTyxJQUFJLEtBQUssS0FBSyxDQUFDO0FBQzFDLFVBQUksQ0FBQyxNQUFNLFFBQVEsS0FBSyxDQUFDLENBQUMsS0FBSyxFQUFFLHFCQUFxQixhQUFjO0FBQ3BFLFlBQU0sU0FBUyxjQUFjLE1BQW1CLE9BQU8sS0FBSyxTQUFTLEdBQUcsU0FBUyxNQUFNO0FBQ3ZGLFVBQUksV0FBVyxPQUFXLFFBQU8sY0FBYyxVQUFVLElBQWlCO0FBQzFFLGNBQVEsS0FBSyxHQUFHLEtBQUssS0FBSyxNQUFNLEVBQUU7QUFBQSxJQUNwQztBQUNBLFdBQU8sUUFBUSxRQUFRLEtBQUssSUFBSSxLQUFLLHNEQUFzRDtBQUFBLEVBQzdGLFNBQVMsT0FBTztBQUNkLFdBQU8sUUFBUSxpQ0FBaUMsVUFBVSxLQUFLLEVBQUUsSUFBSSxFQUFFO0FBQUEsRUFDekU7QUFDRjtBQUdBLFNBQVMsY0FBYyxNQUFpQixXQUFtQixTQUFrQixRQUFvQztBQUMvRyxRQUFNLENBQUMsT0FBTyxVQUFVLElBQUk7QUFDNUIsUUFBTSxRQUFRLFdBQVcsSUFBSSxPQUFPO0FBQ3BDLFFBQU0sUUFDSixPQUFPLEtBQUssSUFBSSxPQUFPLEtBQUssQ0FBQyxNQUM1QixVQUFVLFVBQWEsT0FBTyxLQUFLLFNBQVMsSUFBSSxDQUFDLEdBQUcsT0FBTyxLQUFLLE9BQU8sQ0FBQyxFQUFFLENBQUMsSUFBSTtBQUNsRixNQUFJLENBQUMsTUFBTyxRQUFPLFVBQVUsU0FBWSxvQkFBb0IsV0FBVyxLQUFLO0FBQzdFLFFBQU0sUUFBUSxXQUFXLElBQUksS0FBSztBQUNsQyxNQUFJLFVBQVUsVUFBYSxVQUFVLE1BQU0sVUFBVTtBQUNuRCxXQUFPLFdBQVcsS0FBSyx3QkFBd0IsTUFBTSxVQUFVLElBQUk7QUFDckUsUUFBTSxhQUFhLE1BQU0sSUFBSSxDQUFDLFNBQVMsWUFBWSxJQUFJLENBQUM7QUFDeEQsUUFBTSxVQUFVLElBQUksSUFBSSxXQUFXLElBQUksVUFBVSxDQUFDO0FBQ2xELFFBQU0sVUFBVSxPQUFPLFFBQVEsSUFBSSxVQUFVLEVBQUUsT0FBTyxDQUFDLFFBQVEsQ0FBQyxRQUFRLElBQUksR0FBRyxDQUFDO0FBQ2hGLE1BQUksUUFBUSxTQUFTLEVBQUcsUUFBTyxxQkFBcUIsUUFBUSxLQUFLLElBQUksQ0FBQztBQUN0RSxRQUFNLFVBQVUsQ0FBQyxTQUFxQztBQUNwRCxVQUFNLFFBQVEsV0FBVyxJQUFJLElBQUk7QUFDakMsV0FBTyxPQUFPLFVBQVUsV0FBVyxRQUFRLE1BQU87QUFBQSxFQUNwRDtBQUNBLFFBQU0sQ0FBQyxTQUFTLFNBQVMsR0FBRyxJQUFJLENBQUMsUUFBUSxTQUFTLEdBQUcsUUFBUSxTQUFTLEdBQUcsT0FBTyxJQUFJLFFBQVEsQ0FBQztBQUM3RixNQUFJLFlBQVksVUFBYSxVQUFVLElBQUssUUFBTztBQUNuRCxNQUFJLFlBQVksVUFBYSxVQUFVLE1BQU0sTUFBTyxRQUFPO0FBQzNELE1BQUksWUFBWSxVQUFhLE1BQU0sVUFBVSxPQUFPLE9BQVEsUUFBTztBQUNuRSxRQUFNLE9BQU8sY0FBYyxZQUFZLFdBQVcsSUFBSSxHQUFHLE9BQU87QUFDaEUsU0FBTyxNQUFNLFVBQVUsT0FBTyxNQUFNLE1BQU0sS0FBSyxTQUFTLElBQ3BELFNBQ0E7QUFDTjtBQUdBLFNBQVMsY0FBYyxVQUFvQixDQUFDLEtBQUssR0FBbUM7QUFDbEYsUUFBTSxRQUFRLFlBQVksU0FBUyxTQUFTLGdCQUFnQjtBQUM1RCxRQUFNLEVBQUUsTUFBTSxNQUFNLElBQUksU0FBUztBQUNqQyxRQUFNLFFBQVEsWUFBWSxTQUFTLFNBQVMsa0JBQWtCLE1BQU07QUFDcEUsTUFBSSxVQUFVLFVBQWEsU0FBUyxVQUFVLFVBQWEsQ0FBQyxNQUFNLEtBQUssQ0FBQyxDQUFDLElBQUksTUFBTSxTQUFTLGdCQUFnQjtBQUMxRyxXQUFPO0FBQ1QsU0FBTyxXQUFXLE9BQU8sSUFBSSxNQUFNLFFBQy9CLFFBQVEsdURBQXVELElBQy9EO0FBQ047QUFFQSxJQUFNLFVBQVUsQ0FBQyxLQUFhLFdBQzVCLElBQUksUUFBUSxlQUFlO0FBQUEsRUFDekIsTUFBTSwyQ0FBMkMsR0FBRztBQUFBLEVBQ3BEO0FBQUEsRUFDQSxNQUFNLEVBQUUsT0FBTyxZQUFZO0FBQzdCLENBQUM7QUFFSSxJQUFNLGlCQUFpQixDQUFDLEVBQUUsUUFBUSxLQUFLLFFBQVEsT0FBaUU7QUFBQSxFQUNySDtBQUFBLEVBQ0E7QUFBQSxFQUNBLFNBQVMsUUFBUSxJQUFJLENBQUMsRUFBRSxNQUFNLE1BQU0sTUFBTSxDQUFDLE1BQU0sS0FBSyxDQUFDO0FBQUEsRUFDdkQsVUFBVSxDQUFDO0FBQ2I7OztBTDNFTyxJQUFNLG1CQUF3RDtBQUFBLEVBQ25FLE1BQU07QUFBQSxFQUNOLE9BQU87QUFBQSxFQUNQLFFBQVEsRUFBRSxRQUFRLFlBQVksUUFBUSxHQUFHLFNBQVM7QUFDaEQsVUFBTSxTQUFTLE9BQU8sUUFBUSxVQUFVLEVBQUUsSUFBSSxDQUFDLENBQUMsT0FBTyxJQUFJLE1BQU0sVUFBVSxPQUFPLE1BQU0sT0FBTyxDQUFDO0FBQ2hHLFFBQUksT0FBTyxXQUFXLEdBQUc7QUFDdkIsWUFBTSxJQUFJLFFBQVEsY0FBYztBQUFBLFFBQzlCLE1BQU07QUFBQSxRQUNOLE9BQU8sUUFBUSxLQUFLLFNBQVMsQ0FBQyxZQUFZLENBQUM7QUFBQSxRQUMzQyxRQUFRO0FBQUEsTUFDVixDQUFDO0FBQUEsSUFDSDtBQUNBLFdBQU87QUFBQSxNQUNMLE1BQU0sUUFBUTtBQUFBLE1BQ2QsTUFBTSxDQUFDLE1BQU0sU0FBUyxTQUFTLFFBQVEsTUFBTSxRQUFRLFFBQVEsTUFBTSxJQUFJO0FBQUEsTUFDdkUsUUFBUSxXQUFXLFNBQVMsU0FBUyxPQUFPO0FBQUEsSUFDOUM7QUFBQSxFQUNGO0FBQ0Y7QUFFQSxTQUFTLFVBQVUsT0FBZSxNQUFpQixFQUFFLE1BQU0sTUFBTSxHQUE0QjtBQUMzRixRQUFNLE9BQU8sQ0FBQyxjQUFjLEtBQUs7QUFDakMsTUFBSSxDQUFDLHdCQUF3QixLQUFLLEtBQUssR0FBRztBQUN4QyxVQUFNLElBQUksUUFBUSxjQUFjO0FBQUEsTUFDOUIsTUFBTSxHQUFHLEtBQUs7QUFBQSxNQUNkLE9BQU8sS0FBSyxTQUFTLE1BQU0sS0FBSztBQUFBLE1BQ2hDLFFBQVE7QUFBQSxJQUNWLENBQUM7QUFBQSxFQUNIO0FBQ0EsUUFBTSxXQUFXLENBQUMsS0FBeUMsU0FDekQsZ0JBQWdCLE1BQU0sS0FBSyxTQUFTLENBQUMsR0FBRyxNQUFNLEdBQUcsQ0FBQyxHQUFHLEtBQUs7QUFDNUQsUUFBTSxhQUFhLEtBQUssV0FBVztBQUFBLElBQUksQ0FBQyxNQUFNLFVBQzVDLGNBQWMsTUFBTSxLQUFLLFNBQVMsQ0FBQyxHQUFHLE1BQU0sY0FBYyxLQUFLLENBQUMsQ0FBQztBQUFBLEVBQ25FO0FBQ0EsUUFBTSxRQUFRLEtBQUssWUFBWSxTQUFZLFNBQVksY0FBYyxLQUFLLE9BQU87QUFDakYsU0FBTztBQUFBLElBQ0w7QUFBQSxJQUNBO0FBQUEsSUFDQSxXQUFXLEtBQUs7QUFBQSxJQUNoQixLQUFLLFNBQVMsT0FBTyxLQUFLLEdBQUc7QUFBQSxJQUM3QixPQUFPLElBQUk7QUFBQSxNQUNSLENBQUMsVUFBVSxTQUFTLEtBQUssRUFBWSxRQUFRLENBQUMsUUFBUTtBQUNyRCxjQUFNLE9BQU8sS0FBSyxHQUFHO0FBQ3JCLGVBQU8sU0FBUyxTQUFZLENBQUMsSUFBSSxDQUFDLENBQUMsS0FBSyxTQUFTLEtBQUssSUFBSSxDQUFDLENBQVU7QUFBQSxNQUN2RSxDQUFDO0FBQUEsSUFDSDtBQUFBLElBQ0EsU0FBUyxLQUFLLFdBQVc7QUFBQSxJQUN6QixPQUFPLFVBQVUsU0FBWSxTQUFZLEtBQUssTUFBTSxRQUFRLEdBQUk7QUFBQSxJQUNoRSxnQkFBZ0IsS0FBSyxnQkFBZ0IsS0FBSztBQUFBLEVBQzVDO0FBQ0Y7QUFHQSxTQUFTLFNBQ1AsTUFDQSxRQUNBLFFBQ0EsT0FDQSxNQUNRO0FBQ1IsUUFBTSxRQUF1QixDQUFDO0FBQzlCLE1BQUksT0FBTztBQUNYLFFBQU0sTUFBTSxDQUFDLFFBQWdCLE9BQWUsV0FBMEI7QUFDcEUsVUFBTSxPQUFtQixFQUFFLE1BQU0sUUFBUSxPQUFPLFFBQVEsYUFBYSxJQUFJLElBQUksT0FBTztBQUNwRixXQUFPLFdBQVcsTUFBTSxJQUFJO0FBQzVCLFVBQU0sUUFBUSxNQUFNLFVBQVUsQ0FBQyxTQUFTLEtBQUssU0FBUyxZQUFZLEtBQUssU0FBUyxNQUFNO0FBQ3RGLFFBQUksVUFBVSxHQUFJLE9BQU0sT0FBTyxPQUFPLENBQUM7QUFDdkMsVUFBTSxLQUFLLEVBQUUsTUFBTSxRQUFRLE1BQU0sVUFBVSxPQUFPLFFBQVEsT0FBTyxTQUFTLFNBQVksTUFBTSxDQUFDO0FBQUEsRUFDL0Y7QUFDQSxNQUFJLFdBQVcsVUFBYSxLQUFLLEtBQU0sS0FBSSxrQkFBa0IsY0FBYyxLQUFLLE1BQU0sTUFBTSxHQUFHLEtBQUs7QUFDcEcsYUFBVyxTQUFTLFFBQVE7QUFDMUIsVUFBTSxhQUFhLElBQUksV0FBVyxJQUFJLFlBQVksTUFBTSxNQUFNLEtBQUssU0FBUyxHQUFHLElBQUk7QUFDbkYsVUFBTSxFQUFFLFlBQVksVUFBVSxJQUFJO0FBQ2xDLFVBQU0sU0FBUyxXQUFXLGdCQUFnQixZQUFZLGFBQWEsT0FBTyxZQUFZLElBQUksQ0FBQyxDQUFDO0FBQzVGLFVBQU0sT0FBTyxjQUFjLFlBQVksUUFBUSxlQUFlLElBQUksQ0FBQztBQUNuRSxVQUFNLFlBQVksa0JBQWtCLElBQUksU0FBUyxHQUFHLEtBQUssTUFBTSxTQUFTLE1BQU0sS0FBSyxVQUFVLENBQUM7QUFDOUYsUUFBSSxDQUFDLFVBQVcsT0FBTSxJQUFJLFFBQVEsY0FBYyxFQUFFLE1BQU0seUJBQXlCLFNBQVMsR0FBRyxDQUFDO0FBQzlGLFNBQUssU0FBUyxVQUFVLFNBQVMsUUFBUSxDQUFDO0FBQzFDLFVBQU07QUFBQSxNQUNKLEVBQUUsTUFBTSxHQUFHLE1BQU0sS0FBSyxTQUFTLE1BQU0sU0FBUyxPQUFPLE1BQU0sUUFBUSxPQUFPLE9BQU8sS0FBSztBQUFBLE1BQ3RGLEVBQUUsTUFBTSxHQUFHLE1BQU0sS0FBSyxjQUFjLE1BQU0sU0FBUyxPQUFPLFdBQVcsUUFBUSxNQUFNLE9BQU8sT0FBVTtBQUFBLElBQ3RHO0FBQ0EsVUFBTSxRQUFRLENBQUMsR0FBRyxVQUFVLE1BQU0saUJBQWlCLEdBQUcsR0FBRyxNQUFNLEtBQUssSUFBSSxNQUFNLEVBQUUsRUFBRSxLQUFLLElBQUk7QUFDM0YsVUFBTSxRQUFRO0FBQUEsTUFDWixHQUFHLFVBQVUsTUFBTSxXQUFXO0FBQUEsTUFDOUJDLHFCQUFvQixvQkFBSSxJQUFJLENBQUMsQ0FBQyxNQUFNLE9BQU8sQ0FBQyxJQUFJLFdBQVcsU0FBUyxHQUFHLG9CQUFJLElBQUksQ0FBQyxDQUFDLENBQUMsQ0FBQyxDQUFDO0FBQUEsSUFDdEYsRUFBRSxLQUFLLElBQUk7QUFDWCxRQUFJLG1CQUFtQixPQUFPLEtBQUs7QUFDbkMsUUFBSSxhQUFhLE9BQU8sSUFBSTtBQUFBLEVBQzlCO0FBQ0EsU0FBTyxFQUFFLE1BQU0sTUFBTTtBQUN2QjtBQUdBLFNBQVMsVUFBVSxFQUFFLFFBQVEsR0FBZ0IsT0FBeUI7QUFDcEUsUUFBTSxPQUFPO0FBQUEsSUFDWCxRQUFRLElBQUksQ0FBQyxFQUFFLE1BQU0sTUFBTSxNQUFNLENBQUMsTUFBTSxLQUFLLENBQUM7QUFBQSxJQUM5QztBQUFBLEVBQ0Y7QUFDQSxNQUFJLFNBQVMsT0FBVyxRQUFPLENBQUM7QUFDaEMsTUFBSTtBQUNGLElBQUFDLGlCQUFnQixJQUFJO0FBQUEsRUFDdEIsUUFBUTtBQUNOLFVBQU0sSUFBSSxRQUFRLG9CQUFvQjtBQUFBLE1BQ3BDLE1BQU0sNEJBQTRCLEtBQUs7QUFBQSxNQUN2QyxRQUFRO0FBQUEsSUFDVixDQUFDO0FBQUEsRUFDSDtBQUNBLFNBQU8sQ0FBQyxJQUFJO0FBQ2Q7QUFHQSxTQUFTLGFBQ1AsRUFBRSxTQUFTLE9BQU8sV0FBVyxnQkFBZ0IsTUFBTSxHQUNuRCxZQUNBLEVBQUUsTUFBTSxHQUNlO0FBQ3ZCLFFBQU0sTUFBTSxLQUFLLE1BQU0sTUFBTSxJQUFJLFFBQVEsSUFBSSxHQUFJO0FBQ2pELFFBQU0sT0FBTyxDQUFDLFFBQXdEO0FBQ3BFLFVBQU0sV0FBVyxNQUFNLElBQUksR0FBRztBQUM5QixXQUFPLFlBQVksU0FBUyxVQUFVLFVBQVU7QUFBQSxFQUNsRDtBQUNBLFFBQU1DLE9BQTREO0FBQUEsSUFDaEUsQ0FBQyxXQUFXLFVBQVUsTUFBTSxNQUFTO0FBQUEsSUFDckMsQ0FBQyxXQUFXLFVBQVUsU0FBWSxTQUFZLE1BQU0sS0FBSztBQUFBLElBQ3pELENBQUMsU0FBUyxLQUFLLFFBQVEsQ0FBQztBQUFBLElBQ3hCLENBQUMsT0FBTyxpQkFBaUIsWUFBWSxNQUFTO0FBQUEsSUFDOUMsQ0FBQyxTQUFTLEtBQUssT0FBTyxDQUFDO0FBQUEsSUFDdkIsQ0FBQyxPQUFPLEtBQUssS0FBSyxDQUFDO0FBQUEsRUFDckI7QUFDQSxTQUFPLElBQUksSUFBSUEsS0FBSSxRQUFRLENBQUMsQ0FBQyxNQUFNLEtBQUssTUFBTyxVQUFVLFNBQVksQ0FBQyxJQUFJLENBQUMsQ0FBQyxNQUFNLEtBQUssQ0FBVSxDQUFFLENBQUM7QUFDdEc7QUFFQSxTQUFTLFNBQVMsVUFBb0IsWUFBZ0M7QUFDcEUsUUFBTSxRQUFRLFNBQVMsU0FBUyxVQUFVO0FBQzFDLFNBQU8sVUFBVSxVQUFVLEtBQUssT0FBTyxLQUFLO0FBQzlDO0FBRUEsU0FBUyxTQUFTLE1BQW1CLEVBQUUsTUFBTSxNQUFNLE1BQU0sR0FBNkI7QUFDcEYsUUFBTSxXQUFXLEtBQUssY0FBYyxDQUFDLEdBQUc7QUFBQSxJQUFJLENBQUMsTUFBTSxVQUNqRCxjQUFjLE1BQU0sS0FBSyxTQUFTLENBQUMsV0FBVyxjQUFjLEtBQUssQ0FBQyxDQUFDO0FBQUEsRUFDckU7QUFDQSxRQUFNLFNBQVMsY0FBYyxLQUFLLFlBQVksS0FBSyxJQUFJO0FBQ3ZELFFBQU0sT0FBTyxPQUFPLFFBQVEsS0FBSyxJQUFJLEVBQUUsSUFBSSxDQUFDLENBQUMsSUFBSSxFQUFFLFdBQVcsSUFBSSxDQUFDLE9BQU87QUFBQSxJQUN4RTtBQUFBLElBQ0EsV0FBVyxrQkFBa0IsSUFBSSxTQUFTO0FBQUEsSUFDMUMsS0FBSyxnQkFBZ0IsS0FBSyxLQUFLLFNBQVMsQ0FBQyxXQUFXLFFBQVEsSUFBSSxLQUFLLENBQUMsR0FBRyxLQUFLO0FBQUEsRUFDaEYsRUFBRTtBQUNGLFNBQU8sQ0FBQyxVQUFVLE1BQU0sU0FBUztBQUMvQixVQUFNLGFBQWEsSUFBSSxXQUFXLElBQUksWUFBWSxNQUFNLE1BQU0sS0FBSyxTQUFTLEdBQUcsSUFBSTtBQUNuRixXQUFPLGNBQWMsVUFBVSxNQUFNO0FBQUEsTUFDbkMsVUFBVSxLQUFLLFdBQVc7QUFBQSxNQUMxQjtBQUFBLE1BQ0EsTUFBTSxJQUFJLElBQUksS0FBSyxJQUFJLENBQUMsRUFBRSxJQUFJLFdBQVcsSUFBSSxNQUFNLENBQUMsSUFBSSxFQUFFLFdBQVcsS0FBSyxTQUFTLEtBQUssVUFBVSxFQUFFLENBQUMsQ0FBQyxDQUFDO0FBQUEsTUFDdkc7QUFBQSxNQUNBLEtBQUssS0FBSyxNQUFNO0FBQUEsSUFDbEIsQ0FBQztBQUFBLEVBQ0g7QUFDRjs7O0FNbExPLElBQU0sZUFBZ0Q7QUFBQSxFQUMzRCxNQUFNO0FBQUEsRUFDTixPQUFPO0FBQUEsRUFDUCxRQUFRLE1BQU0sRUFBRSxNQUFNLE1BQU0sTUFBTSxHQUFHO0FBQ25DLFVBQU0sRUFBRSxXQUFXLFNBQVMsaUJBQWlCLFNBQVMsVUFBVSxRQUFRLE9BQU8sT0FBTyxNQUFNLElBQUk7QUFDaEcsVUFBTSxRQUFRLENBQUMsT0FBY0MsU0FBZ0IsWUFBWSxPQUFPLENBQUMsU0FBUyxLQUFLLFNBQVMsQ0FBQ0EsTUFBSyxHQUFHLElBQUksQ0FBQyxHQUFHLEtBQUs7QUFDOUcsVUFBTSxDQUFDLEtBQUssT0FBTyxNQUFNLElBQUk7QUFBQSxNQUMzQixNQUFNLEtBQUssS0FBSyxLQUFLO0FBQUEsTUFDckIsTUFBTSxLQUFLLFFBQVEsS0FBSyxJQUFJLFFBQVE7QUFBQSxNQUNwQyxNQUFNLEtBQUssVUFBVSxDQUFDLEdBQUcsUUFBUTtBQUFBLElBQ25DO0FBQ0EsVUFBTSxVQUFVLEtBQUssTUFBTyxjQUFjLEtBQUssSUFBZSxHQUFJO0FBQ2xFLFVBQU0sVUFBVSxVQUFVLFNBQVM7QUFDbkMsV0FBTztBQUFBLE1BQ0w7QUFBQSxNQUNBLEtBQUssTUFBTSxFQUFFLE9BQU8sV0FBVyxTQUFTLEdBQUc7QUFDekMsY0FBTSxhQUFhLElBQUksV0FBVyxJQUFJLFlBQVksTUFBTSxNQUFNLFNBQVMsR0FBRyxFQUFFLE9BQU8sU0FBUyxDQUFDO0FBQzdGLGNBQU0sT0FBTyxDQUFDLFNBQTZCO0FBQ3pDLGdCQUFNQyxTQUFRLEtBQUssU0FBUyxVQUFVO0FBQ3RDLGlCQUFPQSxXQUFVLFVBQVUsS0FBSyxPQUFPQSxNQUFLO0FBQUEsUUFDOUM7QUFDQSxjQUFNLEtBQUssS0FBSyxLQUFLO0FBQ3JCLGNBQU0sTUFBTSxLQUFLLE1BQU0sTUFBTSxJQUFJLFFBQVEsSUFBSSxHQUFJO0FBQ2pELGNBQU0sT0FBTyxVQUFVLEVBQUUsS0FBSyxXQUFXLEdBQUksU0FBUyxNQUFNLEVBQUUsS0FBSyxLQUFLLEdBQUksR0FBSSxPQUFPLE1BQU0sRUFBRSxLQUFLLEdBQUcsRUFBRyxDQUFDO0FBQzNHLGNBQU0sQ0FBQyxLQUFLLFlBQVksSUFBSSxXQUFXLE9BQU8sTUFBTSxPQUFPLFNBQVMsVUFBVSxDQUFDO0FBQy9FLGNBQU0sT0FBTyxVQUFVLEVBQUUsR0FBSSxLQUFrQixLQUFLLEtBQUssS0FBSyxNQUFNLFFBQVEsQ0FBQztBQUM3RSxjQUFNLE9BQU8sR0FBR0MsU0FBUSxJQUFJLENBQUMsSUFBSUEsU0FBUSxJQUFJLENBQUM7QUFDOUMsY0FBTSxZQUFZLFFBQVEsTUFBTSxNQUFNLENBQUMsS0FBSyxHQUFHLENBQUMsR0FBRyxVQUFVO0FBQzdELGNBQU0sUUFBUSxHQUFHLElBQUksSUFBSSxPQUFPLEtBQUssU0FBUyxFQUFFLFNBQVMsV0FBVyxDQUFDO0FBQ3JFLGlCQUFTLEtBQUs7QUFDZCxjQUFNLFFBQVEsV0FBVyxLQUFLLFFBQVEsR0FBRyxNQUFNLElBQUksS0FBSztBQUN4RCxjQUFNLE9BQU8sQ0FBQyxPQUFlLE1BQWMsU0FBUyxXQUF3QjtBQUFBLFVBQzFFLE1BQU07QUFBQSxVQUNOLE1BQU07QUFBQSxVQUNOLE9BQU87QUFBQSxVQUNQO0FBQUEsVUFDQSxPQUFPLFNBQVMsU0FBWTtBQUFBLFFBQzlCO0FBQ0EsZUFBTztBQUFBLFVBQ0wsTUFBTSxXQUFXLE1BQU0sRUFBRSxNQUFNLFFBQVEsT0FBTyxRQUFRLGFBQWEsSUFBSSxJQUFJLFFBQVEsS0FBSyxDQUFDO0FBQUEsVUFDekYsT0FBTztBQUFBLFlBQ0wsS0FBSyxVQUFVLElBQUk7QUFBQSxZQUNuQixLQUFLLFVBQVUsTUFBTSxZQUFZO0FBQUEsWUFDakMsS0FBSyxRQUFRLE1BQU0sWUFBWTtBQUFBLFlBQy9CLEtBQUssU0FBUyxPQUFPLElBQUk7QUFBQSxZQUN6QjtBQUFBLGNBQ0UsTUFBTTtBQUFBLGNBQ04sTUFBTTtBQUFBLGNBQ047QUFBQSxjQUNBLFFBQVE7QUFBQSxjQUNSLE9BQU8sV0FBVyxLQUFLLFNBQVksR0FBRyxNQUFNLElBQUksTUFBTTtBQUFBLFlBQ3hEO0FBQUEsVUFDRjtBQUFBLFFBQ0Y7QUFBQSxNQUNGO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFDRjtBQUVBLElBQU1BLFdBQVUsQ0FBQyxTQUF5QixPQUFPLEtBQUssSUFBSSxFQUFFLFNBQVMsV0FBVztBQUdoRixTQUFTLFVBQVUsV0FBMkI7QUFDNUMsUUFBTSxPQUFPLFVBQVUsTUFBTSxDQUFDO0FBQzlCLFFBQU0sUUFBMEM7QUFBQSxJQUM5QyxJQUFJLFlBQVksSUFBSTtBQUFBLElBQ3BCLElBQUksZ0JBQWdCLElBQUk7QUFBQSxJQUN4QixJQUFJLG9CQUFvQixJQUFJO0FBQUEsSUFDNUIsSUFBSSxrQkFBa0IsSUFBSTtBQUFBLEVBQzVCO0FBQ0EsU0FBTyxRQUFRLElBQUksTUFBTSxVQUFVLE1BQU0sR0FBRyxDQUFDLENBQUMsS0FBSyxjQUFjO0FBQ25FOzs7QUM5RUEsSUFBTSxNQUFNLENBQUMsUUFBUSxrQkFBa0IsYUFBYSxZQUFZO0FBRXpELElBQU0saUJBQXFELElBQUk7QUFBQSxFQUNwRSxJQUFJLElBQUksQ0FBQyxTQUFTLENBQUMsS0FBSyxNQUFNLElBQWdDLENBQUM7QUFDakU7QUFHTyxTQUFTLGlCQUFpQixNQUFxQixTQUFtQztBQUN2RixTQUFRLGVBQWUsSUFBSSxLQUFLLFFBQVEsUUFBUSxFQUFvQixRQUFRLE1BQU0sT0FBTztBQUMzRjsiLAogICJuYW1lcyI6IFsicGFyc2VEaWN0aW9uYXJ5IiwgInNlcmlhbGl6ZURpY3Rpb25hcnkiLCAic2VyaWFsaXplSW5uZXJMaXN0IiwgInZhbHVlIiwgInNlcmlhbGl6ZUlubmVyTGlzdCIsICJwYXJzZURpY3Rpb25hcnkiLCAic2VyaWFsaXplRGljdGlvbmFyeSIsICJwYXJzZURpY3Rpb25hcnkiLCAicGFyc2VEaWN0aW9uYXJ5IiwgInNlcmlhbGl6ZURpY3Rpb25hcnkiLCAicGFyc2VEaWN0aW9uYXJ5IiwgImFsbCIsICJrZXkiLCAidmFsdWUiLCAiZW5jb2RlZCJdCn0K
