import {
  checkHeader
} from "./chunk-3HNS4OKH.js";
import {
  bodySize,
  hidden
} from "./chunk-KTFSZ6KS.js";
import {
  sizeText
} from "./chunk-IQWA53IU.js";
import {
  StreamedBytes,
  percentEncode
} from "./chunk-VVGKGSPN.js";
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
  isValueMap,
  plain
} from "./chunk-XGDOGID3.js";

// src/core/signature/adding.ts
function withHeader(wire, line) {
  const key = line.name.toLowerCase();
  const headers = [];
  for (const own of wire.headers)
    if (own.name.length !== key.length || own.name.toLowerCase() !== key) headers.push(own);
  headers.push(line);
  const { method, url, shownUrl, body, timeout, redirects, connection } = wire;
  return { method, url, shownUrl, headers, body, timeout, redirects, connection, signed: true };
}
function withParameter(wire, name, value, secret) {
  const pair = `${percentEncode(name)}=`;
  return {
    ...wire,
    url: new URL(withPair(wire.url.href, `${pair}${percentEncode(value)}`)),
    shownUrl: withPair(wire.shownUrl, `${pair}${secret ? hidden : percentEncode(value)}`)
  };
}
function withPair(address, pair) {
  const [, whole = "", fragment = ""] = /^([^#]*)(.*)$/s.exec(address) ?? [];
  const between = !whole.includes("?") ? "?" : /[?&]$/.test(whole) ? "" : "&";
  return `${whole}${between}${pair}${fragment}`;
}
function withMember(wire, name, value, secret) {
  const { body } = wire;
  const type = body?.type.replace(/;.*/, "").trim() ?? "";
  const write = /^application\/(?:.+\+)?json$/.test(type) ? jsonMember : type === "application/x-www-form-urlencoded" ? formField : void 0;
  if (!body || body.streamed || !write) {
    throw new Problem("body-shape", {
      what: `the signature adds ${name} to the body, and ${body ? `a body of ${type || "no type"} takes none` : "there is no body"}`,
      remedy: "a body of the kind json, with a map in it, or of the kind form takes members"
    });
  }
  const bytes = Buffer.from(write(Buffer.from(body.bytes).toString("utf8"), name, value));
  const shown = body.shown === hidden ? hidden : write(body.shown, name, secret ? hidden : value);
  const changed = { ...body, bytes, shown, secret: body.secret || secret };
  const headers = wire.headers.map(
    (line) => line.name.toLowerCase() === "content-length" ? { ...line, value: String(bodySize(changed)) } : line
  );
  return { ...wire, body: changed, headers };
}
function jsonMember(text, name, value) {
  const end = text.lastIndexOf("}");
  if (!/^\s*\{/.test(text) || end === -1) {
    throw new Problem("body-shape", {
      what: `the signature adds ${name} to the body, and the body is no JSON object`
    });
  }
  const before = text.slice(0, end).trimEnd();
  return `${before}${before.endsWith("{") ? "" : ","}${JSON.stringify(name)}:${writeJson(value)}${text.slice(end)}`;
}
var formField = (text, name, value) => `${text}${text === "" ? "" : "&"}${new URLSearchParams([[name, textOf(value)]])}`;

// src/core/signature/sent.ts
var sentMembers = /* @__PURE__ */ new Map([
  ["method", "the method, in capitals"],
  ["scheme", "`http` or `https`"],
  ["authority", "host and port, the port left out where it is the usual one"],
  ["host", "the host without its port"],
  ["port", "the port, also where it is the usual one"],
  ["path", "the path as it is sent, percent-encoded"],
  ["target", "path and query as they are sent"],
  ["url", "the whole address"],
  ["query", "the parameters in the order in which they are sent: pairs, decoded"],
  ["query-text", "the query as it is sent, without its question mark"],
  ["headers", "all headers, in the order in which they are sent: pairs, names in small letters, white space folded"],
  ["header", "one header by its name in small letters: `sent.header.content-type`"],
  ["body", "the bytes of the body; none where there is no body"]
]);
var ofQuery = /* @__PURE__ */ new Set(["query", "query-text", "target", "url"]);
var nothing = new Uint8Array();
function sentValue(wire, members = sentMembers.keys()) {
  const sent = {};
  for (const member of members) sent[member] = made[member]?.(wire) ?? null;
  return sent;
}
var made = {
  method: ({ method }) => method,
  scheme: ({ url }) => url.protocol.slice(0, -1),
  authority: ({ url }) => url.host,
  host: ({ url }) => url.hostname,
  port: ({ url }) => url.port || (url.protocol === "https:" ? "443" : "80"),
  path: ({ url }) => url.pathname,
  target: ({ url }) => url.pathname + url.search,
  url: ({ url }) => url.origin + url.pathname + url.search,
  query: ({ url }) => queryPairs(url.search.slice(1)),
  "query-text": ({ url }) => url.search.slice(1),
  headers: ({ headers }) => headerPairs(headers),
  header: ({ headers }) => Object.fromEntries(foldedHeaders(headers)),
  body: ({ body }) => body === void 0 ? nothing : body.streamed ? onDisk(body) : body.bytes
};
var onDisk = (body) => {
  const { streamed } = body;
  return new StreamedBytes(bodySize(body), () => streamed?.pieces() ?? []);
};
function foldedHeaders(lines) {
  const folded2 = /* @__PURE__ */ new Map();
  for (const line of lines) {
    const { name, own } = readLine(line);
    const before = folded2.get(name);
    folded2.set(name, before === void 0 ? own : `${before}, ${own}`);
  }
  return folded2;
}
var readLines = /* @__PURE__ */ new WeakMap();
function readLine(line) {
  let read = readLines.get(line);
  if (!read) {
    const name = line.name.toLowerCase();
    const { value } = line;
    const own = isTrimmed(value) ? value : value.replace(/^[ \t]+|[ \t]+$/g, "");
    read = { name, own, pair: { name, value: folded(own) } };
    readLines.set(line, read);
  }
  return read;
}
var folded = (value) => /[ \t]{2}|\t/.test(value) ? value.replace(/[ \t]+/g, " ") : value;
function headerPairs(lines) {
  const pairs = [];
  const names = [];
  for (const line of lines) {
    const { name, pair } = readLine(line);
    if (names.includes(name))
      return [...foldedHeaders(lines)].map(([one, value]) => ({ name: one, value: folded(value) }));
    names.push(name);
    pairs.push(pair);
  }
  return pairs;
}
function isTrimmed(value) {
  const [first, last] = [value.charCodeAt(0), value.charCodeAt(value.length - 1)];
  return first !== 32 && first !== 9 && last !== 32 && last !== 9;
}
function queryPairs(text) {
  if (text === "") return [];
  return text.split("&").map((pair) => {
    const at = pair.indexOf("=");
    const [name, value] = at === -1 ? [pair, ""] : [pair.slice(0, at), pair.slice(at + 1)];
    return { name: decoded(name), value: decoded(value), "as-sent": pair };
  });
}
function decoded(text) {
  if (!text.includes("%")) return text;
  try {
    return decodeURIComponent(text);
  } catch {
    return text;
  }
}

// src/core/signature/recipe-run.ts
var RecipeNames = class {
  constructor(recipe, wire, variables, members) {
    this.recipe = recipe;
    this.wire = wire;
    this.variables = variables;
    this.members = members;
  }
  recipe;
  wire;
  variables;
  members;
  values = /* @__PURE__ */ new Map();
  sent;
  /** Something was added to the request. */
  changed(wire) {
    this.wire = wire;
    this.sent = void 0;
  }
  lookup(name) {
    if (name === "sent") {
      this.sent ??= sentValue(this.wire, this.members);
      return { value: this.sent, origin: "the request that is about to leave" };
    }
    return this.values.get(name) ?? this.variables.lookup(name);
  }
  *known() {
    yield "sent";
    yield* this.values.keys();
    yield* this.variables.known();
  }
  get layers() {
    return [`signature ${this.recipe}`, ...this.variables.layers];
  }
};
function runRecipe(recipe, programs, given, { world, variables, onSecret, look }, members) {
  const names = new RecipeNames(recipe, given, variables, members);
  const evaluation = new Evaluation(names, { world, onSecret });
  const steps = [];
  const absent = /* @__PURE__ */ new Set();
  let missing;
  for (const { name, part, run } of programs) {
    if (look) evaluation.pieces = [];
    let value;
    let secret;
    try {
      evaluation.touchedSecret = false;
      value = run(evaluation);
      secret = evaluation.touchedSecret;
    } catch (error) {
      const problem = asProblem(error);
      const follows = problem.code === "unknown-name" && absent.has(String(problem.data.name));
      if (!look || problem.code !== "secret-missing" && !follows) throw problem;
      missing ??= problem;
      absent.add(name);
      continue;
    }
    if (value === omitted) continue;
    steps.push({ name, part, value, secret, shown: look ? shownText(value, secret, evaluation.pieces) : void 0 });
    if (part === "value") names.values.set(name, { value, origin: `signature ${recipe}`, secret });
    else names.changed(added(recipe, names.wire, name, part, value, secret));
  }
  return { wire: names.wire, steps, missing };
}
function shownText(value, secret, pieces) {
  if (!secret) return shownValue(value);
  if (!pieces || pieces.length < 2) return void 0;
  return pieces.map((piece) => piece.secret ? hidden : piece.text).join("");
}
function shownValue(value) {
  if (value instanceof StreamedBytes) return `(${sizeText(value.size)}, streamed from files)`;
  if (value instanceof Uint8Array) return Buffer.from(value).toString("hex");
  if (!Array.isArray(value)) return textOf(value);
  return value.map(
    (item) => isValueMap(item) && item.name !== void 0 && item.value !== void 0 ? `${textOf(item.name)}: ${textOf(item.value)}` : textOf(item)
  ).join("\n");
}
function added(recipe, wire, name, part, value, secret) {
  if (part === "body") return withMember(wire, name, value, secret);
  const wrong = value instanceof Uint8Array ? "bytes" : plain(value) === null ? "null" : Array.isArray(value) || isValueMap(value) ? `a ${Array.isArray(value) ? "list" : "map"}` : void 0;
  if (wrong) {
    throw new Problem("expression-value", {
      what: `the signature ${recipe} makes ${part === "header" ? "the header" : "the parameter"} ${name} of ${wrong}`,
      remedy: "| hex or | base64 writes bytes as text, | join a list"
    });
  }
  if (part === "query") return withParameter(wire, name, textOf(value), secret);
  checkHeader(name, textOf(value), void 0);
  const line = { name, value: textOf(value), origin: `signature ${recipe}`, secret };
  return withHeader(wire, line);
}

export {
  sentMembers,
  ofQuery,
  withHeader,
  RecipeNames,
  runRecipe,
  shownValue
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvc2lnbmF0dXJlL2FkZGluZy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9zaWduYXR1cmUvc2VudC50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9zaWduYXR1cmUvcmVjaXBlLXJ1bi50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIEFkZGluZyB0byBhIHJlcXVlc3QgdGhhdCBpcyBjb21wb3NlZCBhbHJlYWR5OiBoZWFkZXIgbGluZXMsIHBhcmFtZXRlcnMgb2YgdGhlIHF1ZXJ5LCBtZW1iZXJzIG9mIHRoZSBib2R5LiAqL1xuaW1wb3J0IHsgYm9keVNpemUsIHR5cGUgSGVhZGVyTGluZSwgaGlkZGVuLCB0eXBlIFdpcmVCb2R5LCB0eXBlIFdpcmVSZXF1ZXN0IH0gZnJvbSAnLi4vZXhjaGFuZ2Uvd2lyZS5qcyc7XG5pbXBvcnQgeyBwZXJjZW50RW5jb2RlIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi9maWx0ZXJzL3RleHQuanMnO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyB3cml0ZUpzb24gfSBmcm9tICcuLi92YWx1ZS9qc29uLXRleHQuanMnO1xuaW1wb3J0IHsgdGV4dE9mIH0gZnJvbSAnLi4vdmFsdWUvdGV4dC5qcyc7XG5pbXBvcnQgdHlwZSB7IFZhbHVlIH0gZnJvbSAnLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5cbi8qKiBBIGhlYWRlciBvZiB0aGUgc2FtZSBuYW1lIHRoYXQgaXMgdGhlcmUgYWxyZWFkeSBnaXZlcyB3YXkuICovXG5leHBvcnQgZnVuY3Rpb24gd2l0aEhlYWRlcih3aXJlOiBXaXJlUmVxdWVzdCwgbGluZTogSGVhZGVyTGluZSk6IFdpcmVSZXF1ZXN0IHtcbiAgY29uc3Qga2V5ID0gbGluZS5uYW1lLnRvTG93ZXJDYXNlKCk7XG4gIGNvbnN0IGhlYWRlcnM6IEhlYWRlckxpbmVbXSA9IFtdO1xuICBmb3IgKGNvbnN0IG93biBvZiB3aXJlLmhlYWRlcnMpXG4gICAgaWYgKG93bi5uYW1lLmxlbmd0aCAhPT0ga2V5Lmxlbmd0aCB8fCBvd24ubmFtZS50b0xvd2VyQ2FzZSgpICE9PSBrZXkpIGhlYWRlcnMucHVzaChvd24pO1xuICBoZWFkZXJzLnB1c2gobGluZSk7XG4gIGNvbnN0IHsgbWV0aG9kLCB1cmwsIHNob3duVXJsLCBib2R5LCB0aW1lb3V0LCByZWRpcmVjdHMsIGNvbm5lY3Rpb24gfSA9IHdpcmU7XG4gIC8vIFdyaXR0ZW4gb3V0OiBhIHJ1biBtYWtlcyB0aG91c2FuZHMsIGFuZCB0byBzcHJlYWQgc3VjaCBhbiBvYmplY3QgdGFrZXMgYXMgbG9uZyBhcyB0byBzaWduIGl0LlxuICByZXR1cm4geyBtZXRob2QsIHVybCwgc2hvd25VcmwsIGhlYWRlcnMsIGJvZHksIHRpbWVvdXQsIHJlZGlyZWN0cywgY29ubmVjdGlvbiwgc2lnbmVkOiB0cnVlIH07XG59XG5cbmV4cG9ydCBmdW5jdGlvbiB3aXRoUGFyYW1ldGVyKHdpcmU6IFdpcmVSZXF1ZXN0LCBuYW1lOiBzdHJpbmcsIHZhbHVlOiBzdHJpbmcsIHNlY3JldDogYm9vbGVhbik6IFdpcmVSZXF1ZXN0IHtcbiAgY29uc3QgcGFpciA9IGAke3BlcmNlbnRFbmNvZGUobmFtZSl9PWA7XG4gIHJldHVybiB7XG4gICAgLi4ud2lyZSxcbiAgICB1cmw6IG5ldyBVUkwod2l0aFBhaXIod2lyZS51cmwuaHJlZiwgYCR7cGFpcn0ke3BlcmNlbnRFbmNvZGUodmFsdWUpfWApKSxcbiAgICBzaG93blVybDogd2l0aFBhaXIod2lyZS5zaG93blVybCwgYCR7cGFpcn0ke3NlY3JldCA/IGhpZGRlbiA6IHBlcmNlbnRFbmNvZGUodmFsdWUpfWApLFxuICB9O1xufVxuXG4vKiogQmVoaW5kIHRoZSBxdWVyeSBvZiBhbiBhZGRyZXNzLCBiZWZvcmUgaXRzIGZyYWdtZW50LiAqL1xuZnVuY3Rpb24gd2l0aFBhaXIoYWRkcmVzczogc3RyaW5nLCBwYWlyOiBzdHJpbmcpOiBzdHJpbmcge1xuICBjb25zdCBbLCB3aG9sZSA9ICcnLCBmcmFnbWVudCA9ICcnXSA9IC9eKFteI10qKSguKikkL3MuZXhlYyhhZGRyZXNzKSA/PyBbXTtcbiAgY29uc3QgYmV0d2VlbiA9ICF3aG9sZS5pbmNsdWRlcygnPycpID8gJz8nIDogL1s/Jl0kLy50ZXN0KHdob2xlKSA/ICcnIDogJyYnO1xuICByZXR1cm4gYCR7d2hvbGV9JHtiZXR3ZWVufSR7cGFpcn0ke2ZyYWdtZW50fWA7XG59XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gYm9keS1zaGFwZTogdGhlIGJvZHkgaXMgbmVpdGhlciBhIEpTT04gb2JqZWN0IG5vciBhIGZvcm0gKi9cbmV4cG9ydCBmdW5jdGlvbiB3aXRoTWVtYmVyKHdpcmU6IFdpcmVSZXF1ZXN0LCBuYW1lOiBzdHJpbmcsIHZhbHVlOiBWYWx1ZSwgc2VjcmV0OiBib29sZWFuKTogV2lyZVJlcXVlc3Qge1xuICBjb25zdCB7IGJvZHkgfSA9IHdpcmU7XG4gIGNvbnN0IHR5cGUgPSBib2R5Py50eXBlLnJlcGxhY2UoLzsuKi8sICcnKS50cmltKCkgPz8gJyc7XG4gIGNvbnN0IHdyaXRlID0gL15hcHBsaWNhdGlvblxcLyg/Oi4rXFwrKT9qc29uJC8udGVzdCh0eXBlKVxuICAgID8ganNvbk1lbWJlclxuICAgIDogdHlwZSA9PT0gJ2FwcGxpY2F0aW9uL3gtd3d3LWZvcm0tdXJsZW5jb2RlZCdcbiAgICAgID8gZm9ybUZpZWxkXG4gICAgICA6IHVuZGVmaW5lZDtcbiAgaWYgKCFib2R5IHx8IGJvZHkuc3RyZWFtZWQgfHwgIXdyaXRlKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ2JvZHktc2hhcGUnLCB7XG4gICAgICB3aGF0OiBgdGhlIHNpZ25hdHVyZSBhZGRzICR7bmFtZX0gdG8gdGhlIGJvZHksIGFuZCAke2JvZHkgPyBgYSBib2R5IG9mICR7dHlwZSB8fCAnbm8gdHlwZSd9IHRha2VzIG5vbmVgIDogJ3RoZXJlIGlzIG5vIGJvZHknfWAsXG4gICAgICByZW1lZHk6ICdhIGJvZHkgb2YgdGhlIGtpbmQganNvbiwgd2l0aCBhIG1hcCBpbiBpdCwgb3Igb2YgdGhlIGtpbmQgZm9ybSB0YWtlcyBtZW1iZXJzJyxcbiAgICB9KTtcbiAgfVxuICBjb25zdCBieXRlcyA9IEJ1ZmZlci5mcm9tKHdyaXRlKEJ1ZmZlci5mcm9tKGJvZHkuYnl0ZXMpLnRvU3RyaW5nKCd1dGY4JyksIG5hbWUsIHZhbHVlKSk7XG4gIGNvbnN0IHNob3duID0gYm9keS5zaG93biA9PT0gaGlkZGVuID8gaGlkZGVuIDogd3JpdGUoYm9keS5zaG93biwgbmFtZSwgc2VjcmV0ID8gaGlkZGVuIDogdmFsdWUpO1xuICBjb25zdCBjaGFuZ2VkOiBXaXJlQm9keSA9IHsgLi4uYm9keSwgYnl0ZXMsIHNob3duLCBzZWNyZXQ6IGJvZHkuc2VjcmV0IHx8IHNlY3JldCB9O1xuICBjb25zdCBoZWFkZXJzID0gd2lyZS5oZWFkZXJzLm1hcCgobGluZSkgPT5cbiAgICBsaW5lLm5hbWUudG9Mb3dlckNhc2UoKSA9PT0gJ2NvbnRlbnQtbGVuZ3RoJyA/IHsgLi4ubGluZSwgdmFsdWU6IFN0cmluZyhib2R5U2l6ZShjaGFuZ2VkKSkgfSA6IGxpbmUsXG4gICk7XG4gIHJldHVybiB7IC4uLndpcmUsIGJvZHk6IGNoYW5nZWQsIGhlYWRlcnMgfTtcbn1cblxuLyoqIEV2ZXJ5IGJ5dGUgdGhhdCB3YXMgdGhlcmUgc3RheXMuICovXG5mdW5jdGlvbiBqc29uTWVtYmVyKHRleHQ6IHN0cmluZywgbmFtZTogc3RyaW5nLCB2YWx1ZTogVmFsdWUpOiBzdHJpbmcge1xuICBjb25zdCBlbmQgPSB0ZXh0Lmxhc3RJbmRleE9mKCd9Jyk7XG4gIGlmICghL15cXHMqXFx7Ly50ZXN0KHRleHQpIHx8IGVuZCA9PT0gLTEpIHtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgnYm9keS1zaGFwZScsIHtcbiAgICAgIHdoYXQ6IGB0aGUgc2lnbmF0dXJlIGFkZHMgJHtuYW1lfSB0byB0aGUgYm9keSwgYW5kIHRoZSBib2R5IGlzIG5vIEpTT04gb2JqZWN0YCxcbiAgICB9KTtcbiAgfVxuICBjb25zdCBiZWZvcmUgPSB0ZXh0LnNsaWNlKDAsIGVuZCkudHJpbUVuZCgpO1xuICByZXR1cm4gYCR7YmVmb3JlfSR7YmVmb3JlLmVuZHNXaXRoKCd7JykgPyAnJyA6ICcsJ30ke0pTT04uc3RyaW5naWZ5KG5hbWUpfToke3dyaXRlSnNvbih2YWx1ZSl9JHt0ZXh0LnNsaWNlKGVuZCl9YDtcbn1cblxuY29uc3QgZm9ybUZpZWxkID0gKHRleHQ6IHN0cmluZywgbmFtZTogc3RyaW5nLCB2YWx1ZTogVmFsdWUpOiBzdHJpbmcgPT5cbiAgYCR7dGV4dH0ke3RleHQgPT09ICcnID8gJycgOiAnJid9JHtuZXcgVVJMU2VhcmNoUGFyYW1zKFtbbmFtZSwgdGV4dE9mKHZhbHVlKV1dKX1gO1xuIiwgIi8qKiBgc2VudGA6IHRoZSByZXF1ZXN0IHRoYXQgaXMgYWJvdXQgdG8gbGVhdmUsIGFzIHZhbHVlcyBvZiBhIHJlY2lwZS4gKi9cbmltcG9ydCB7IGJvZHlTaXplLCB0eXBlIEhlYWRlckxpbmUsIHR5cGUgV2lyZUJvZHksIHR5cGUgV2lyZVJlcXVlc3QgfSBmcm9tICcuLi9leGNoYW5nZS93aXJlLmpzJztcbmltcG9ydCB7IFN0cmVhbWVkQnl0ZXMgfSBmcm9tICcuLi92YWx1ZS9zdHJlYW1lZC5qcyc7XG5pbXBvcnQgdHlwZSB7IFZhbHVlLCBWYWx1ZU1hcCB9IGZyb20gJy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuXG4vKiogV2hhdCBhIHJlY2lwZSBtYXkgYXNrIG9mIGBzZW50YCwgZm9yIG1lc3NhZ2VzIGFuZCB0aGUgbWFudWFsLiAqL1xuZXhwb3J0IGNvbnN0IHNlbnRNZW1iZXJzOiBSZWFkb25seU1hcDxzdHJpbmcsIHN0cmluZz4gPSBuZXcgTWFwKFtcbiAgWydtZXRob2QnLCAndGhlIG1ldGhvZCwgaW4gY2FwaXRhbHMnXSxcbiAgWydzY2hlbWUnLCAnYGh0dHBgIG9yIGBodHRwc2AnXSxcbiAgWydhdXRob3JpdHknLCAnaG9zdCBhbmQgcG9ydCwgdGhlIHBvcnQgbGVmdCBvdXQgd2hlcmUgaXQgaXMgdGhlIHVzdWFsIG9uZSddLFxuICBbJ2hvc3QnLCAndGhlIGhvc3Qgd2l0aG91dCBpdHMgcG9ydCddLFxuICBbJ3BvcnQnLCAndGhlIHBvcnQsIGFsc28gd2hlcmUgaXQgaXMgdGhlIHVzdWFsIG9uZSddLFxuICBbJ3BhdGgnLCAndGhlIHBhdGggYXMgaXQgaXMgc2VudCwgcGVyY2VudC1lbmNvZGVkJ10sXG4gIFsndGFyZ2V0JywgJ3BhdGggYW5kIHF1ZXJ5IGFzIHRoZXkgYXJlIHNlbnQnXSxcbiAgWyd1cmwnLCAndGhlIHdob2xlIGFkZHJlc3MnXSxcbiAgWydxdWVyeScsICd0aGUgcGFyYW1ldGVycyBpbiB0aGUgb3JkZXIgaW4gd2hpY2ggdGhleSBhcmUgc2VudDogcGFpcnMsIGRlY29kZWQnXSxcbiAgWydxdWVyeS10ZXh0JywgJ3RoZSBxdWVyeSBhcyBpdCBpcyBzZW50LCB3aXRob3V0IGl0cyBxdWVzdGlvbiBtYXJrJ10sXG4gIFsnaGVhZGVycycsICdhbGwgaGVhZGVycywgaW4gdGhlIG9yZGVyIGluIHdoaWNoIHRoZXkgYXJlIHNlbnQ6IHBhaXJzLCBuYW1lcyBpbiBzbWFsbCBsZXR0ZXJzLCB3aGl0ZSBzcGFjZSBmb2xkZWQnXSxcbiAgWydoZWFkZXInLCAnb25lIGhlYWRlciBieSBpdHMgbmFtZSBpbiBzbWFsbCBsZXR0ZXJzOiBgc2VudC5oZWFkZXIuY29udGVudC10eXBlYCddLFxuICBbJ2JvZHknLCAndGhlIGJ5dGVzIG9mIHRoZSBib2R5OyBub25lIHdoZXJlIHRoZXJlIGlzIG5vIGJvZHknXSxcbl0pO1xuXG4vKiogTWVtYmVycyB0aGF0IGNoYW5nZSB3aXRoIHRoZSBwYXJhbWV0ZXJzIG9mIHRoZSBxdWVyeS4gKi9cbmV4cG9ydCBjb25zdCBvZlF1ZXJ5OiBSZWFkb25seVNldDxzdHJpbmc+ID0gbmV3IFNldChbJ3F1ZXJ5JywgJ3F1ZXJ5LXRleHQnLCAndGFyZ2V0JywgJ3VybCddKTtcblxuY29uc3Qgbm90aGluZyA9IG5ldyBVaW50OEFycmF5KCk7XG5cbi8qKiBAcGFyYW0gbWVtYmVycyB0aG9zZSB0aGF0IGFyZSB3YW50ZWQ7IGFsbCB3aGVyZSBub3RoaW5nIGlzIHNhaWQgKi9cbmV4cG9ydCBmdW5jdGlvbiBzZW50VmFsdWUod2lyZTogV2lyZVJlcXVlc3QsIG1lbWJlcnM6IEl0ZXJhYmxlPHN0cmluZz4gPSBzZW50TWVtYmVycy5rZXlzKCkpOiBWYWx1ZU1hcCB7XG4gIGNvbnN0IHNlbnQ6IFJlY29yZDxzdHJpbmcsIFZhbHVlPiA9IHt9O1xuICBmb3IgKGNvbnN0IG1lbWJlciBvZiBtZW1iZXJzKSBzZW50W21lbWJlcl0gPSBtYWRlW21lbWJlcl0/Lih3aXJlKSA/PyBudWxsO1xuICByZXR1cm4gc2VudDtcbn1cblxuY29uc3QgbWFkZTogUmVhZG9ubHk8UmVjb3JkPHN0cmluZywgKHdpcmU6IFdpcmVSZXF1ZXN0KSA9PiBWYWx1ZT4+ID0ge1xuICBtZXRob2Q6ICh7IG1ldGhvZCB9KSA9PiBtZXRob2QsXG4gIHNjaGVtZTogKHsgdXJsIH0pID0+IHVybC5wcm90b2NvbC5zbGljZSgwLCAtMSksXG4gIGF1dGhvcml0eTogKHsgdXJsIH0pID0+IHVybC5ob3N0LFxuICBob3N0OiAoeyB1cmwgfSkgPT4gdXJsLmhvc3RuYW1lLFxuICBwb3J0OiAoeyB1cmwgfSkgPT4gdXJsLnBvcnQgfHwgKHVybC5wcm90b2NvbCA9PT0gJ2h0dHBzOicgPyAnNDQzJyA6ICc4MCcpLFxuICBwYXRoOiAoeyB1cmwgfSkgPT4gdXJsLnBhdGhuYW1lLFxuICB0YXJnZXQ6ICh7IHVybCB9KSA9PiB1cmwucGF0aG5hbWUgKyB1cmwuc2VhcmNoLFxuICB1cmw6ICh7IHVybCB9KSA9PiB1cmwub3JpZ2luICsgdXJsLnBhdGhuYW1lICsgdXJsLnNlYXJjaCxcbiAgcXVlcnk6ICh7IHVybCB9KSA9PiBxdWVyeVBhaXJzKHVybC5zZWFyY2guc2xpY2UoMSkpLFxuICAncXVlcnktdGV4dCc6ICh7IHVybCB9KSA9PiB1cmwuc2VhcmNoLnNsaWNlKDEpLFxuICBoZWFkZXJzOiAoeyBoZWFkZXJzIH0pID0+IGhlYWRlclBhaXJzKGhlYWRlcnMpLFxuICBoZWFkZXI6ICh7IGhlYWRlcnMgfSkgPT4gT2JqZWN0LmZyb21FbnRyaWVzKGZvbGRlZEhlYWRlcnMoaGVhZGVycykpLFxuICBib2R5OiAoeyBib2R5IH0pID0+IChib2R5ID09PSB1bmRlZmluZWQgPyBub3RoaW5nIDogYm9keS5zdHJlYW1lZCA/IG9uRGlzayhib2R5KSA6IGJvZHkuYnl0ZXMpLFxufTtcblxuY29uc3Qgb25EaXNrID0gKGJvZHk6IFdpcmVCb2R5KTogU3RyZWFtZWRCeXRlcyA9PiB7XG4gIGNvbnN0IHsgc3RyZWFtZWQgfSA9IGJvZHk7XG4gIHJldHVybiBuZXcgU3RyZWFtZWRCeXRlcyhib2R5U2l6ZShib2R5KSwgKCkgPT4gc3RyZWFtZWQ/LnBpZWNlcygpID8/IFtdKTtcbn07XG5cbi8qKiBPbmUgdmFsdWUgYSBuYW1lOiByZXBlYXRlZCBsaW5lcyBqb2luZWQgaW4gdGhlaXIgb3JkZXIgKFJGQyA5MTEwLCBzZWN0aW9uIDUuMyksIHdoaXRlIHNwYWNlIGF0IHRoZSBlbmRzIHRha2VuIG9mZi4gKi9cbmZ1bmN0aW9uIGZvbGRlZEhlYWRlcnMobGluZXM6IHJlYWRvbmx5IEhlYWRlckxpbmVbXSk6IE1hcDxzdHJpbmcsIHN0cmluZz4ge1xuICBjb25zdCBmb2xkZWQgPSBuZXcgTWFwPHN0cmluZywgc3RyaW5nPigpO1xuICBmb3IgKGNvbnN0IGxpbmUgb2YgbGluZXMpIHtcbiAgICBjb25zdCB7IG5hbWUsIG93biB9ID0gcmVhZExpbmUobGluZSk7XG4gICAgY29uc3QgYmVmb3JlID0gZm9sZGVkLmdldChuYW1lKTtcbiAgICBmb2xkZWQuc2V0KG5hbWUsIGJlZm9yZSA9PT0gdW5kZWZpbmVkID8gb3duIDogYCR7YmVmb3JlfSwgJHtvd259YCk7XG4gIH1cbiAgcmV0dXJuIGZvbGRlZDtcbn1cblxuaW50ZXJmYWNlIFJlYWRMaW5lIHtcbiAgLyoqIEluIHNtYWxsIGxldHRlcnMuICovXG4gIHJlYWRvbmx5IG5hbWU6IHN0cmluZztcbiAgLyoqIFdpdGhvdXQgd2hpdGUgc3BhY2UgYXQgaXRzIGVuZHMuICovXG4gIHJlYWRvbmx5IG93bjogc3RyaW5nO1xuICAvKiogV2hpdGUgc3BhY2UgaW5zaWRlIGZvbGRlZCwgdG9vLiAqL1xuICByZWFkb25seSBwYWlyOiBWYWx1ZU1hcDtcbn1cblxuLyoqIExpbmVzIHRoYXQgbWFueSByZXF1ZXN0cyBzaGFyZSBhcmUgcmVhZCBvbmNlLiAqL1xuY29uc3QgcmVhZExpbmVzID0gbmV3IFdlYWtNYXA8SGVhZGVyTGluZSwgUmVhZExpbmU+KCk7XG5cbmZ1bmN0aW9uIHJlYWRMaW5lKGxpbmU6IEhlYWRlckxpbmUpOiBSZWFkTGluZSB7XG4gIGxldCByZWFkID0gcmVhZExpbmVzLmdldChsaW5lKTtcbiAgaWYgKCFyZWFkKSB7XG4gICAgY29uc3QgbmFtZSA9IGxpbmUubmFtZS50b0xvd2VyQ2FzZSgpO1xuICAgIGNvbnN0IHsgdmFsdWUgfSA9IGxpbmU7XG4gICAgY29uc3Qgb3duID0gaXNUcmltbWVkKHZhbHVlKSA/IHZhbHVlIDogdmFsdWUucmVwbGFjZSgvXlsgXFx0XSt8WyBcXHRdKyQvZywgJycpO1xuICAgIHJlYWQgPSB7IG5hbWUsIG93biwgcGFpcjogeyBuYW1lLCB2YWx1ZTogZm9sZGVkKG93bikgfSB9O1xuICAgIHJlYWRMaW5lcy5zZXQobGluZSwgcmVhZCk7XG4gIH1cbiAgcmV0dXJuIHJlYWQ7XG59XG5cbmNvbnN0IGZvbGRlZCA9ICh2YWx1ZTogc3RyaW5nKTogc3RyaW5nID0+ICgvWyBcXHRdezJ9fFxcdC8udGVzdCh2YWx1ZSkgPyB2YWx1ZS5yZXBsYWNlKC9bIFxcdF0rL2csICcgJykgOiB2YWx1ZSk7XG5cbmZ1bmN0aW9uIGhlYWRlclBhaXJzKGxpbmVzOiByZWFkb25seSBIZWFkZXJMaW5lW10pOiBWYWx1ZVtdIHtcbiAgY29uc3QgcGFpcnM6IFZhbHVlW10gPSBbXTtcbiAgY29uc3QgbmFtZXM6IHN0cmluZ1tdID0gW107XG4gIGZvciAoY29uc3QgbGluZSBvZiBsaW5lcykge1xuICAgIGNvbnN0IHsgbmFtZSwgcGFpciB9ID0gcmVhZExpbmUobGluZSk7XG4gICAgLy8gQSBuYW1lIHRoYXQgc3RhbmRzIHR3aWNlIGlzIGpvaW5lZCwgYXQgdGhlIHBsYWNlIG9mIHRoZSBmaXJzdC5cbiAgICBpZiAobmFtZXMuaW5jbHVkZXMobmFtZSkpXG4gICAgICByZXR1cm4gWy4uLmZvbGRlZEhlYWRlcnMobGluZXMpXS5tYXAoKFtvbmUsIHZhbHVlXSkgPT4gKHsgbmFtZTogb25lLCB2YWx1ZTogZm9sZGVkKHZhbHVlKSB9KSk7XG4gICAgbmFtZXMucHVzaChuYW1lKTtcbiAgICBwYWlycy5wdXNoKHBhaXIpO1xuICB9XG4gIHJldHVybiBwYWlycztcbn1cblxuZnVuY3Rpb24gaXNUcmltbWVkKHZhbHVlOiBzdHJpbmcpOiBib29sZWFuIHtcbiAgY29uc3QgW2ZpcnN0LCBsYXN0XSA9IFt2YWx1ZS5jaGFyQ29kZUF0KDApLCB2YWx1ZS5jaGFyQ29kZUF0KHZhbHVlLmxlbmd0aCAtIDEpXTtcbiAgcmV0dXJuIGZpcnN0ICE9PSAzMiAmJiBmaXJzdCAhPT0gOSAmJiBsYXN0ICE9PSAzMiAmJiBsYXN0ICE9PSA5O1xufVxuXG4vKiogQSBwbHVzIHNpZ24gaXMgYSBwbHVzIHNpZ24gaGVyZSAoUkZDIDM5ODYpOiBvbmx5IGZvcm1zIHdyaXRlIHNwYWNlcyBzby4gKi9cbmZ1bmN0aW9uIHF1ZXJ5UGFpcnModGV4dDogc3RyaW5nKTogVmFsdWVbXSB7XG4gIGlmICh0ZXh0ID09PSAnJykgcmV0dXJuIFtdO1xuICByZXR1cm4gdGV4dC5zcGxpdCgnJicpLm1hcCgocGFpcikgPT4ge1xuICAgIGNvbnN0IGF0ID0gcGFpci5pbmRleE9mKCc9Jyk7XG4gICAgY29uc3QgW25hbWUsIHZhbHVlXSA9IGF0ID09PSAtMSA/IFtwYWlyLCAnJ10gOiBbcGFpci5zbGljZSgwLCBhdCksIHBhaXIuc2xpY2UoYXQgKyAxKV07XG4gICAgcmV0dXJuIHsgbmFtZTogZGVjb2RlZChuYW1lKSwgdmFsdWU6IGRlY29kZWQodmFsdWUpLCAnYXMtc2VudCc6IHBhaXIgfTtcbiAgfSk7XG59XG5cbmZ1bmN0aW9uIGRlY29kZWQodGV4dDogc3RyaW5nKTogc3RyaW5nIHtcbiAgaWYgKCF0ZXh0LmluY2x1ZGVzKCclJykpIHJldHVybiB0ZXh0O1xuICB0cnkge1xuICAgIHJldHVybiBkZWNvZGVVUklDb21wb25lbnQodGV4dCk7XG4gIH0gY2F0Y2gge1xuICAgIHJldHVybiB0ZXh0O1xuICB9XG59XG4iLCAiLyoqIE9uZSBzaWduaW5nIGJ5IGEgcmVjaXBlOiBpdHMgdmFsdWVzIHdvcmtlZCBvdXQgaW4gb3JkZXIsIGVhY2ggc2VlbiBieSB0aG9zZSBiZWhpbmQgaXQuICovXG5pbXBvcnQgeyBjaGVja0hlYWRlciB9IGZyb20gJy4uL2V4Y2hhbmdlL2hlYWRlci1ydWxlcy5qcyc7XG5pbXBvcnQgeyB0eXBlIEhlYWRlckxpbmUsIGhpZGRlbiwgdHlwZSBXaXJlUmVxdWVzdCB9IGZyb20gJy4uL2V4Y2hhbmdlL3dpcmUuanMnO1xuaW1wb3J0IHsgRXZhbHVhdGlvbiwgb21pdHRlZCwgdHlwZSBSZXN1bHQgfSBmcm9tICcuLi9leHByZXNzaW9uL2V2YWx1YXRpb24uanMnO1xuaW1wb3J0IHR5cGUgeyBOYW1lZCwgTmFtZXMgfSBmcm9tICcuLi9leHByZXNzaW9uL25hbWVzLmpzJztcbmltcG9ydCB7IGFzUHJvYmxlbSwgUHJvYmxlbSB9IGZyb20gJy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBzaXplVGV4dCB9IGZyb20gJy4uL3ZhbHVlL21lYXN1cmVzLmpzJztcbmltcG9ydCB7IFN0cmVhbWVkQnl0ZXMgfSBmcm9tICcuLi92YWx1ZS9zdHJlYW1lZC5qcyc7XG5pbXBvcnQgeyB0ZXh0T2YgfSBmcm9tICcuLi92YWx1ZS90ZXh0LmpzJztcbmltcG9ydCB7IGlzVmFsdWVNYXAsIHBsYWluLCB0eXBlIFZhbHVlLCB0eXBlIFZhbHVlTWFwIH0gZnJvbSAnLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyB3aXRoSGVhZGVyLCB3aXRoTWVtYmVyLCB3aXRoUGFyYW1ldGVyIH0gZnJvbSAnLi9hZGRpbmcuanMnO1xuaW1wb3J0IHsgc2VudFZhbHVlIH0gZnJvbSAnLi9zZW50LmpzJztcbmltcG9ydCB0eXBlIHsgU2lnbmVkLCBTaWduaW5nUm9vbSwgU2lnbmluZ1N0ZXAgfSBmcm9tICcuL3NpZ25hdHVyZS1raW5kLmpzJztcblxuLyoqIFdoYXQgb25lIHZhbHVlIG9yIGFkZGl0aW9uIGlzLCBtYWRlIHJlYWR5LiAqL1xuZXhwb3J0IGludGVyZmFjZSBQcm9ncmFtIHtcbiAgcmVhZG9ubHkgbmFtZTogc3RyaW5nO1xuICByZWFkb25seSBwYXJ0OiBTaWduaW5nU3RlcFsncGFydCddO1xuICAvKiogTGlzdHMgd2hhdCBpdCB3YXMgcHV0IHRvZ2V0aGVyIGZyb20gaW4gYGV2YWx1YXRpb24ucGllY2VzYCwgd2hlcmUgdGhhdCBpcyBzZXQuICovXG4gIHJlYWRvbmx5IHJ1bjogKGV2YWx1YXRpb246IEV2YWx1YXRpb24pID0+IFJlc3VsdDtcbn1cblxuLyoqIFRoZSBuYW1lcyB0aGF0IGEgcmVjaXBlIHNlZXM6IGl0cyBvd24gdmFsdWVzLCBgc2VudGAsIHZhcmlhYmxlcy4gKi9cbmV4cG9ydCBjbGFzcyBSZWNpcGVOYW1lcyBpbXBsZW1lbnRzIE5hbWVzIHtcbiAgcmVhZG9ubHkgdmFsdWVzID0gbmV3IE1hcDxzdHJpbmcsIE5hbWVkPigpO1xuICBwcml2YXRlIHNlbnQ6IFZhbHVlTWFwIHwgdW5kZWZpbmVkO1xuXG4gIGNvbnN0cnVjdG9yKFxuICAgIHByaXZhdGUgcmVhZG9ubHkgcmVjaXBlOiBzdHJpbmcsXG4gICAgcHVibGljIHdpcmU6IFdpcmVSZXF1ZXN0LFxuICAgIHByaXZhdGUgcmVhZG9ubHkgdmFyaWFibGVzOiBOYW1lcyxcbiAgICBwcml2YXRlIHJlYWRvbmx5IG1lbWJlcnM/OiBSZWFkb25seVNldDxzdHJpbmc+LFxuICApIHt9XG5cbiAgLyoqIFNvbWV0aGluZyB3YXMgYWRkZWQgdG8gdGhlIHJlcXVlc3QuICovXG4gIGNoYW5nZWQod2lyZTogV2lyZVJlcXVlc3QpOiB2b2lkIHtcbiAgICB0aGlzLndpcmUgPSB3aXJlO1xuICAgIHRoaXMuc2VudCA9IHVuZGVmaW5lZDtcbiAgfVxuXG4gIGxvb2t1cChuYW1lOiBzdHJpbmcpOiBOYW1lZCB8IHVuZGVmaW5lZCB7XG4gICAgaWYgKG5hbWUgPT09ICdzZW50Jykge1xuICAgICAgdGhpcy5zZW50ID8/PSBzZW50VmFsdWUodGhpcy53aXJlLCB0aGlzLm1lbWJlcnMpO1xuICAgICAgcmV0dXJuIHsgdmFsdWU6IHRoaXMuc2VudCwgb3JpZ2luOiAndGhlIHJlcXVlc3QgdGhhdCBpcyBhYm91dCB0byBsZWF2ZScgfTtcbiAgICB9XG4gICAgcmV0dXJuIHRoaXMudmFsdWVzLmdldChuYW1lKSA/PyB0aGlzLnZhcmlhYmxlcy5sb29rdXAobmFtZSk7XG4gIH1cblxuICAqa25vd24oKTogSXRlcmFibGU8c3RyaW5nPiB7XG4gICAgeWllbGQgJ3NlbnQnO1xuICAgIHlpZWxkKiB0aGlzLnZhbHVlcy5rZXlzKCk7XG4gICAgeWllbGQqIHRoaXMudmFyaWFibGVzLmtub3duKCk7XG4gIH1cblxuICBnZXQgbGF5ZXJzKCk6IHJlYWRvbmx5IHN0cmluZ1tdIHtcbiAgICByZXR1cm4gW2BzaWduYXR1cmUgJHt0aGlzLnJlY2lwZX1gLCAuLi50aGlzLnZhcmlhYmxlcy5sYXllcnNdO1xuICB9XG59XG5cbi8qKlxuICogQHBhcmFtIHByb2dyYW1zIGluIHRoZSBvcmRlciBpbiB3aGljaCB0aGV5IGFyZSB3b3JrZWQgb3V0XG4gKiBAcGFyYW0gbWVtYmVycyBvZiBgc2VudGAgdGhhdCB0aGV5IHVzZTsgYWxsIHdoZXJlIG5vdGhpbmcgaXMgc2FpZFxuICovXG5leHBvcnQgZnVuY3Rpb24gcnVuUmVjaXBlKFxuICByZWNpcGU6IHN0cmluZyxcbiAgcHJvZ3JhbXM6IHJlYWRvbmx5IFByb2dyYW1bXSxcbiAgZ2l2ZW46IFdpcmVSZXF1ZXN0LFxuICB7IHdvcmxkLCB2YXJpYWJsZXMsIG9uU2VjcmV0LCBsb29rIH06IFNpZ25pbmdSb29tLFxuICBtZW1iZXJzPzogUmVhZG9ubHlTZXQ8c3RyaW5nPixcbik6IFNpZ25lZCB7XG4gIGNvbnN0IG5hbWVzID0gbmV3IFJlY2lwZU5hbWVzKHJlY2lwZSwgZ2l2ZW4sIHZhcmlhYmxlcywgbWVtYmVycyk7XG4gIGNvbnN0IGV2YWx1YXRpb24gPSBuZXcgRXZhbHVhdGlvbihuYW1lcywgeyB3b3JsZCwgb25TZWNyZXQgfSk7XG4gIGNvbnN0IHN0ZXBzOiBTaWduaW5nU3RlcFtdID0gW107XG4gIGNvbnN0IGFic2VudCA9IG5ldyBTZXQ8c3RyaW5nPigpO1xuICBsZXQgbWlzc2luZzogUHJvYmxlbSB8IHVuZGVmaW5lZDtcbiAgZm9yIChjb25zdCB7IG5hbWUsIHBhcnQsIHJ1biB9IG9mIHByb2dyYW1zKSB7XG4gICAgaWYgKGxvb2spIGV2YWx1YXRpb24ucGllY2VzID0gW107XG4gICAgbGV0IHZhbHVlOiBSZXN1bHQ7XG4gICAgbGV0IHNlY3JldDogYm9vbGVhbjtcbiAgICB0cnkge1xuICAgICAgZXZhbHVhdGlvbi50b3VjaGVkU2VjcmV0ID0gZmFsc2U7XG4gICAgICB2YWx1ZSA9IHJ1bihldmFsdWF0aW9uKTtcbiAgICAgIHNlY3JldCA9IGV2YWx1YXRpb24udG91Y2hlZFNlY3JldDtcbiAgICB9IGNhdGNoIChlcnJvcikge1xuICAgICAgY29uc3QgcHJvYmxlbSA9IGFzUHJvYmxlbShlcnJvcik7XG4gICAgICBjb25zdCBmb2xsb3dzID0gcHJvYmxlbS5jb2RlID09PSAndW5rbm93bi1uYW1lJyAmJiBhYnNlbnQuaGFzKFN0cmluZyhwcm9ibGVtLmRhdGEubmFtZSkpO1xuICAgICAgaWYgKCFsb29rIHx8IChwcm9ibGVtLmNvZGUgIT09ICdzZWNyZXQtbWlzc2luZycgJiYgIWZvbGxvd3MpKSB0aHJvdyBwcm9ibGVtO1xuICAgICAgbWlzc2luZyA/Pz0gcHJvYmxlbTtcbiAgICAgIGFic2VudC5hZGQobmFtZSk7XG4gICAgICBjb250aW51ZTtcbiAgICB9XG4gICAgaWYgKHZhbHVlID09PSBvbWl0dGVkKSBjb250aW51ZTtcbiAgICBzdGVwcy5wdXNoKHsgbmFtZSwgcGFydCwgdmFsdWUsIHNlY3JldCwgc2hvd246IGxvb2sgPyBzaG93blRleHQodmFsdWUsIHNlY3JldCwgZXZhbHVhdGlvbi5waWVjZXMpIDogdW5kZWZpbmVkIH0pO1xuICAgIGlmIChwYXJ0ID09PSAndmFsdWUnKSBuYW1lcy52YWx1ZXMuc2V0KG5hbWUsIHsgdmFsdWUsIG9yaWdpbjogYHNpZ25hdHVyZSAke3JlY2lwZX1gLCBzZWNyZXQgfSk7XG4gICAgZWxzZSBuYW1lcy5jaGFuZ2VkKGFkZGVkKHJlY2lwZSwgbmFtZXMud2lyZSwgbmFtZSwgcGFydCwgdmFsdWUsIHNlY3JldCkpO1xuICB9XG4gIHJldHVybiB7IHdpcmU6IG5hbWVzLndpcmUsIHN0ZXBzLCBtaXNzaW5nIH07XG59XG5cbi8qKiBPZiB3aGF0IGlzIHdvcmtlZCBvdXQgZnJvbSBhIHNlY3JldCwgb25seSB3aGF0IHN0YW5kcyBhcm91bmQgaXQgaXMgc2Vlbi4gKi9cbmZ1bmN0aW9uIHNob3duVGV4dCh2YWx1ZTogVmFsdWUsIHNlY3JldDogYm9vbGVhbiwgcGllY2VzOiBFdmFsdWF0aW9uWydwaWVjZXMnXSk6IHN0cmluZyB8IHVuZGVmaW5lZCB7XG4gIGlmICghc2VjcmV0KSByZXR1cm4gc2hvd25WYWx1ZSh2YWx1ZSk7XG4gIGlmICghcGllY2VzIHx8IHBpZWNlcy5sZW5ndGggPCAyKSByZXR1cm4gdW5kZWZpbmVkO1xuICByZXR1cm4gcGllY2VzLm1hcCgocGllY2UpID0+IChwaWVjZS5zZWNyZXQgPyBoaWRkZW4gOiBwaWVjZS50ZXh0KSkuam9pbignJyk7XG59XG5cbi8qKiBCeXRlcyBpbiBoZXhhZGVjaW1hbDsgYSBsaXN0IGFuIGl0ZW0gYSBsaW5lLCB0aGUgcGFpcnMgb2YgaGVhZGVycyBhbmQgcXVlcmllcyBhcyB0aGV5IGFyZSB3cml0dGVuLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHNob3duVmFsdWUodmFsdWU6IFZhbHVlKTogc3RyaW5nIHtcbiAgaWYgKHZhbHVlIGluc3RhbmNlb2YgU3RyZWFtZWRCeXRlcykgcmV0dXJuIGAoJHtzaXplVGV4dCh2YWx1ZS5zaXplKX0sIHN0cmVhbWVkIGZyb20gZmlsZXMpYDtcbiAgaWYgKHZhbHVlIGluc3RhbmNlb2YgVWludDhBcnJheSkgcmV0dXJuIEJ1ZmZlci5mcm9tKHZhbHVlKS50b1N0cmluZygnaGV4Jyk7XG4gIGlmICghQXJyYXkuaXNBcnJheSh2YWx1ZSkpIHJldHVybiB0ZXh0T2YodmFsdWUpO1xuICByZXR1cm4gdmFsdWVcbiAgICAubWFwKChpdGVtOiBWYWx1ZSkgPT5cbiAgICAgIGlzVmFsdWVNYXAoaXRlbSkgJiYgaXRlbS5uYW1lICE9PSB1bmRlZmluZWQgJiYgaXRlbS52YWx1ZSAhPT0gdW5kZWZpbmVkXG4gICAgICAgID8gYCR7dGV4dE9mKGl0ZW0ubmFtZSl9OiAke3RleHRPZihpdGVtLnZhbHVlKX1gXG4gICAgICAgIDogdGV4dE9mKGl0ZW0pLFxuICAgIClcbiAgICAuam9pbignXFxuJyk7XG59XG5cbmZ1bmN0aW9uIGFkZGVkKFxuICByZWNpcGU6IHN0cmluZyxcbiAgd2lyZTogV2lyZVJlcXVlc3QsXG4gIG5hbWU6IHN0cmluZyxcbiAgcGFydDogU2lnbmluZ1N0ZXBbJ3BhcnQnXSxcbiAgdmFsdWU6IFZhbHVlLFxuICBzZWNyZXQ6IGJvb2xlYW4sXG4pOiBXaXJlUmVxdWVzdCB7XG4gIGlmIChwYXJ0ID09PSAnYm9keScpIHJldHVybiB3aXRoTWVtYmVyKHdpcmUsIG5hbWUsIHZhbHVlLCBzZWNyZXQpO1xuICBjb25zdCB3cm9uZyA9XG4gICAgdmFsdWUgaW5zdGFuY2VvZiBVaW50OEFycmF5XG4gICAgICA/ICdieXRlcydcbiAgICAgIDogcGxhaW4odmFsdWUpID09PSBudWxsXG4gICAgICAgID8gJ251bGwnXG4gICAgICAgIDogQXJyYXkuaXNBcnJheSh2YWx1ZSkgfHwgaXNWYWx1ZU1hcCh2YWx1ZSlcbiAgICAgICAgICA/IGBhICR7QXJyYXkuaXNBcnJheSh2YWx1ZSkgPyAnbGlzdCcgOiAnbWFwJ31gXG4gICAgICAgICAgOiB1bmRlZmluZWQ7XG4gIGlmICh3cm9uZykge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCdleHByZXNzaW9uLXZhbHVlJywge1xuICAgICAgd2hhdDogYHRoZSBzaWduYXR1cmUgJHtyZWNpcGV9IG1ha2VzICR7cGFydCA9PT0gJ2hlYWRlcicgPyAndGhlIGhlYWRlcicgOiAndGhlIHBhcmFtZXRlcid9ICR7bmFtZX0gb2YgJHt3cm9uZ31gLFxuICAgICAgcmVtZWR5OiAnfCBoZXggb3IgfCBiYXNlNjQgd3JpdGVzIGJ5dGVzIGFzIHRleHQsIHwgam9pbiBhIGxpc3QnLFxuICAgIH0pO1xuICB9XG4gIGlmIChwYXJ0ID09PSAncXVlcnknKSByZXR1cm4gd2l0aFBhcmFtZXRlcih3aXJlLCBuYW1lLCB0ZXh0T2YodmFsdWUpLCBzZWNyZXQpO1xuICBjaGVja0hlYWRlcihuYW1lLCB0ZXh0T2YodmFsdWUpLCB1bmRlZmluZWQpO1xuICBjb25zdCBsaW5lOiBIZWFkZXJMaW5lID0geyBuYW1lLCB2YWx1ZTogdGV4dE9mKHZhbHVlKSwgb3JpZ2luOiBgc2lnbmF0dXJlICR7cmVjaXBlfWAsIHNlY3JldCB9O1xuICByZXR1cm4gd2l0aEhlYWRlcih3aXJlLCBsaW5lKTtcbn1cbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFTTyxTQUFTLFdBQVcsTUFBbUIsTUFBK0I7QUFDM0UsUUFBTSxNQUFNLEtBQUssS0FBSyxZQUFZO0FBQ2xDLFFBQU0sVUFBd0IsQ0FBQztBQUMvQixhQUFXLE9BQU8sS0FBSztBQUNyQixRQUFJLElBQUksS0FBSyxXQUFXLElBQUksVUFBVSxJQUFJLEtBQUssWUFBWSxNQUFNLElBQUssU0FBUSxLQUFLLEdBQUc7QUFDeEYsVUFBUSxLQUFLLElBQUk7QUFDakIsUUFBTSxFQUFFLFFBQVEsS0FBSyxVQUFVLE1BQU0sU0FBUyxXQUFXLFdBQVcsSUFBSTtBQUV4RSxTQUFPLEVBQUUsUUFBUSxLQUFLLFVBQVUsU0FBUyxNQUFNLFNBQVMsV0FBVyxZQUFZLFFBQVEsS0FBSztBQUM5RjtBQUVPLFNBQVMsY0FBYyxNQUFtQixNQUFjLE9BQWUsUUFBOEI7QUFDMUcsUUFBTSxPQUFPLEdBQUcsY0FBYyxJQUFJLENBQUM7QUFDbkMsU0FBTztBQUFBLElBQ0wsR0FBRztBQUFBLElBQ0gsS0FBSyxJQUFJLElBQUksU0FBUyxLQUFLLElBQUksTUFBTSxHQUFHLElBQUksR0FBRyxjQUFjLEtBQUssQ0FBQyxFQUFFLENBQUM7QUFBQSxJQUN0RSxVQUFVLFNBQVMsS0FBSyxVQUFVLEdBQUcsSUFBSSxHQUFHLFNBQVMsU0FBUyxjQUFjLEtBQUssQ0FBQyxFQUFFO0FBQUEsRUFDdEY7QUFDRjtBQUdBLFNBQVMsU0FBUyxTQUFpQixNQUFzQjtBQUN2RCxRQUFNLENBQUMsRUFBRSxRQUFRLElBQUksV0FBVyxFQUFFLElBQUksaUJBQWlCLEtBQUssT0FBTyxLQUFLLENBQUM7QUFDekUsUUFBTSxVQUFVLENBQUMsTUFBTSxTQUFTLEdBQUcsSUFBSSxNQUFNLFFBQVEsS0FBSyxLQUFLLElBQUksS0FBSztBQUN4RSxTQUFPLEdBQUcsS0FBSyxHQUFHLE9BQU8sR0FBRyxJQUFJLEdBQUcsUUFBUTtBQUM3QztBQUdPLFNBQVMsV0FBVyxNQUFtQixNQUFjLE9BQWMsUUFBOEI7QUFDdEcsUUFBTSxFQUFFLEtBQUssSUFBSTtBQUNqQixRQUFNLE9BQU8sTUFBTSxLQUFLLFFBQVEsT0FBTyxFQUFFLEVBQUUsS0FBSyxLQUFLO0FBQ3JELFFBQU0sUUFBUSwrQkFBK0IsS0FBSyxJQUFJLElBQ2xELGFBQ0EsU0FBUyxzQ0FDUCxZQUNBO0FBQ04sTUFBSSxDQUFDLFFBQVEsS0FBSyxZQUFZLENBQUMsT0FBTztBQUNwQyxVQUFNLElBQUksUUFBUSxjQUFjO0FBQUEsTUFDOUIsTUFBTSxzQkFBc0IsSUFBSSxxQkFBcUIsT0FBTyxhQUFhLFFBQVEsU0FBUyxnQkFBZ0Isa0JBQWtCO0FBQUEsTUFDNUgsUUFBUTtBQUFBLElBQ1YsQ0FBQztBQUFBLEVBQ0g7QUFDQSxRQUFNLFFBQVEsT0FBTyxLQUFLLE1BQU0sT0FBTyxLQUFLLEtBQUssS0FBSyxFQUFFLFNBQVMsTUFBTSxHQUFHLE1BQU0sS0FBSyxDQUFDO0FBQ3RGLFFBQU0sUUFBUSxLQUFLLFVBQVUsU0FBUyxTQUFTLE1BQU0sS0FBSyxPQUFPLE1BQU0sU0FBUyxTQUFTLEtBQUs7QUFDOUYsUUFBTSxVQUFvQixFQUFFLEdBQUcsTUFBTSxPQUFPLE9BQU8sUUFBUSxLQUFLLFVBQVUsT0FBTztBQUNqRixRQUFNLFVBQVUsS0FBSyxRQUFRO0FBQUEsSUFBSSxDQUFDLFNBQ2hDLEtBQUssS0FBSyxZQUFZLE1BQU0sbUJBQW1CLEVBQUUsR0FBRyxNQUFNLE9BQU8sT0FBTyxTQUFTLE9BQU8sQ0FBQyxFQUFFLElBQUk7QUFBQSxFQUNqRztBQUNBLFNBQU8sRUFBRSxHQUFHLE1BQU0sTUFBTSxTQUFTLFFBQVE7QUFDM0M7QUFHQSxTQUFTLFdBQVcsTUFBYyxNQUFjLE9BQXNCO0FBQ3BFLFFBQU0sTUFBTSxLQUFLLFlBQVksR0FBRztBQUNoQyxNQUFJLENBQUMsU0FBUyxLQUFLLElBQUksS0FBSyxRQUFRLElBQUk7QUFDdEMsVUFBTSxJQUFJLFFBQVEsY0FBYztBQUFBLE1BQzlCLE1BQU0sc0JBQXNCLElBQUk7QUFBQSxJQUNsQyxDQUFDO0FBQUEsRUFDSDtBQUNBLFFBQU0sU0FBUyxLQUFLLE1BQU0sR0FBRyxHQUFHLEVBQUUsUUFBUTtBQUMxQyxTQUFPLEdBQUcsTUFBTSxHQUFHLE9BQU8sU0FBUyxHQUFHLElBQUksS0FBSyxHQUFHLEdBQUcsS0FBSyxVQUFVLElBQUksQ0FBQyxJQUFJLFVBQVUsS0FBSyxDQUFDLEdBQUcsS0FBSyxNQUFNLEdBQUcsQ0FBQztBQUNqSDtBQUVBLElBQU0sWUFBWSxDQUFDLE1BQWMsTUFBYyxVQUM3QyxHQUFHLElBQUksR0FBRyxTQUFTLEtBQUssS0FBSyxHQUFHLEdBQUcsSUFBSSxnQkFBZ0IsQ0FBQyxDQUFDLE1BQU0sT0FBTyxLQUFLLENBQUMsQ0FBQyxDQUFDLENBQUM7OztBQ25FMUUsSUFBTSxjQUEyQyxvQkFBSSxJQUFJO0FBQUEsRUFDOUQsQ0FBQyxVQUFVLHlCQUF5QjtBQUFBLEVBQ3BDLENBQUMsVUFBVSxtQkFBbUI7QUFBQSxFQUM5QixDQUFDLGFBQWEsNERBQTREO0FBQUEsRUFDMUUsQ0FBQyxRQUFRLDJCQUEyQjtBQUFBLEVBQ3BDLENBQUMsUUFBUSwwQ0FBMEM7QUFBQSxFQUNuRCxDQUFDLFFBQVEseUNBQXlDO0FBQUEsRUFDbEQsQ0FBQyxVQUFVLGlDQUFpQztBQUFBLEVBQzVDLENBQUMsT0FBTyxtQkFBbUI7QUFBQSxFQUMzQixDQUFDLFNBQVMsb0VBQW9FO0FBQUEsRUFDOUUsQ0FBQyxjQUFjLG9EQUFvRDtBQUFBLEVBQ25FLENBQUMsV0FBVyxxR0FBcUc7QUFBQSxFQUNqSCxDQUFDLFVBQVUscUVBQXFFO0FBQUEsRUFDaEYsQ0FBQyxRQUFRLG9EQUFvRDtBQUMvRCxDQUFDO0FBR00sSUFBTSxVQUErQixvQkFBSSxJQUFJLENBQUMsU0FBUyxjQUFjLFVBQVUsS0FBSyxDQUFDO0FBRTVGLElBQU0sVUFBVSxJQUFJLFdBQVc7QUFHeEIsU0FBUyxVQUFVLE1BQW1CLFVBQTRCLFlBQVksS0FBSyxHQUFhO0FBQ3JHLFFBQU0sT0FBOEIsQ0FBQztBQUNyQyxhQUFXLFVBQVUsUUFBUyxNQUFLLE1BQU0sSUFBSSxLQUFLLE1BQU0sSUFBSSxJQUFJLEtBQUs7QUFDckUsU0FBTztBQUNUO0FBRUEsSUFBTSxPQUErRDtBQUFBLEVBQ25FLFFBQVEsQ0FBQyxFQUFFLE9BQU8sTUFBTTtBQUFBLEVBQ3hCLFFBQVEsQ0FBQyxFQUFFLElBQUksTUFBTSxJQUFJLFNBQVMsTUFBTSxHQUFHLEVBQUU7QUFBQSxFQUM3QyxXQUFXLENBQUMsRUFBRSxJQUFJLE1BQU0sSUFBSTtBQUFBLEVBQzVCLE1BQU0sQ0FBQyxFQUFFLElBQUksTUFBTSxJQUFJO0FBQUEsRUFDdkIsTUFBTSxDQUFDLEVBQUUsSUFBSSxNQUFNLElBQUksU0FBUyxJQUFJLGFBQWEsV0FBVyxRQUFRO0FBQUEsRUFDcEUsTUFBTSxDQUFDLEVBQUUsSUFBSSxNQUFNLElBQUk7QUFBQSxFQUN2QixRQUFRLENBQUMsRUFBRSxJQUFJLE1BQU0sSUFBSSxXQUFXLElBQUk7QUFBQSxFQUN4QyxLQUFLLENBQUMsRUFBRSxJQUFJLE1BQU0sSUFBSSxTQUFTLElBQUksV0FBVyxJQUFJO0FBQUEsRUFDbEQsT0FBTyxDQUFDLEVBQUUsSUFBSSxNQUFNLFdBQVcsSUFBSSxPQUFPLE1BQU0sQ0FBQyxDQUFDO0FBQUEsRUFDbEQsY0FBYyxDQUFDLEVBQUUsSUFBSSxNQUFNLElBQUksT0FBTyxNQUFNLENBQUM7QUFBQSxFQUM3QyxTQUFTLENBQUMsRUFBRSxRQUFRLE1BQU0sWUFBWSxPQUFPO0FBQUEsRUFDN0MsUUFBUSxDQUFDLEVBQUUsUUFBUSxNQUFNLE9BQU8sWUFBWSxjQUFjLE9BQU8sQ0FBQztBQUFBLEVBQ2xFLE1BQU0sQ0FBQyxFQUFFLEtBQUssTUFBTyxTQUFTLFNBQVksVUFBVSxLQUFLLFdBQVcsT0FBTyxJQUFJLElBQUksS0FBSztBQUMxRjtBQUVBLElBQU0sU0FBUyxDQUFDLFNBQWtDO0FBQ2hELFFBQU0sRUFBRSxTQUFTLElBQUk7QUFDckIsU0FBTyxJQUFJLGNBQWMsU0FBUyxJQUFJLEdBQUcsTUFBTSxVQUFVLE9BQU8sS0FBSyxDQUFDLENBQUM7QUFDekU7QUFHQSxTQUFTLGNBQWMsT0FBbUQ7QUFDeEUsUUFBTUEsVUFBUyxvQkFBSSxJQUFvQjtBQUN2QyxhQUFXLFFBQVEsT0FBTztBQUN4QixVQUFNLEVBQUUsTUFBTSxJQUFJLElBQUksU0FBUyxJQUFJO0FBQ25DLFVBQU0sU0FBU0EsUUFBTyxJQUFJLElBQUk7QUFDOUIsSUFBQUEsUUFBTyxJQUFJLE1BQU0sV0FBVyxTQUFZLE1BQU0sR0FBRyxNQUFNLEtBQUssR0FBRyxFQUFFO0FBQUEsRUFDbkU7QUFDQSxTQUFPQTtBQUNUO0FBWUEsSUFBTSxZQUFZLG9CQUFJLFFBQThCO0FBRXBELFNBQVMsU0FBUyxNQUE0QjtBQUM1QyxNQUFJLE9BQU8sVUFBVSxJQUFJLElBQUk7QUFDN0IsTUFBSSxDQUFDLE1BQU07QUFDVCxVQUFNLE9BQU8sS0FBSyxLQUFLLFlBQVk7QUFDbkMsVUFBTSxFQUFFLE1BQU0sSUFBSTtBQUNsQixVQUFNLE1BQU0sVUFBVSxLQUFLLElBQUksUUFBUSxNQUFNLFFBQVEsb0JBQW9CLEVBQUU7QUFDM0UsV0FBTyxFQUFFLE1BQU0sS0FBSyxNQUFNLEVBQUUsTUFBTSxPQUFPLE9BQU8sR0FBRyxFQUFFLEVBQUU7QUFDdkQsY0FBVSxJQUFJLE1BQU0sSUFBSTtBQUFBLEVBQzFCO0FBQ0EsU0FBTztBQUNUO0FBRUEsSUFBTSxTQUFTLENBQUMsVUFBMkIsY0FBYyxLQUFLLEtBQUssSUFBSSxNQUFNLFFBQVEsV0FBVyxHQUFHLElBQUk7QUFFdkcsU0FBUyxZQUFZLE9BQXVDO0FBQzFELFFBQU0sUUFBaUIsQ0FBQztBQUN4QixRQUFNLFFBQWtCLENBQUM7QUFDekIsYUFBVyxRQUFRLE9BQU87QUFDeEIsVUFBTSxFQUFFLE1BQU0sS0FBSyxJQUFJLFNBQVMsSUFBSTtBQUVwQyxRQUFJLE1BQU0sU0FBUyxJQUFJO0FBQ3JCLGFBQU8sQ0FBQyxHQUFHLGNBQWMsS0FBSyxDQUFDLEVBQUUsSUFBSSxDQUFDLENBQUMsS0FBSyxLQUFLLE9BQU8sRUFBRSxNQUFNLEtBQUssT0FBTyxPQUFPLEtBQUssRUFBRSxFQUFFO0FBQzlGLFVBQU0sS0FBSyxJQUFJO0FBQ2YsVUFBTSxLQUFLLElBQUk7QUFBQSxFQUNqQjtBQUNBLFNBQU87QUFDVDtBQUVBLFNBQVMsVUFBVSxPQUF3QjtBQUN6QyxRQUFNLENBQUMsT0FBTyxJQUFJLElBQUksQ0FBQyxNQUFNLFdBQVcsQ0FBQyxHQUFHLE1BQU0sV0FBVyxNQUFNLFNBQVMsQ0FBQyxDQUFDO0FBQzlFLFNBQU8sVUFBVSxNQUFNLFVBQVUsS0FBSyxTQUFTLE1BQU0sU0FBUztBQUNoRTtBQUdBLFNBQVMsV0FBVyxNQUF1QjtBQUN6QyxNQUFJLFNBQVMsR0FBSSxRQUFPLENBQUM7QUFDekIsU0FBTyxLQUFLLE1BQU0sR0FBRyxFQUFFLElBQUksQ0FBQyxTQUFTO0FBQ25DLFVBQU0sS0FBSyxLQUFLLFFBQVEsR0FBRztBQUMzQixVQUFNLENBQUMsTUFBTSxLQUFLLElBQUksT0FBTyxLQUFLLENBQUMsTUFBTSxFQUFFLElBQUksQ0FBQyxLQUFLLE1BQU0sR0FBRyxFQUFFLEdBQUcsS0FBSyxNQUFNLEtBQUssQ0FBQyxDQUFDO0FBQ3JGLFdBQU8sRUFBRSxNQUFNLFFBQVEsSUFBSSxHQUFHLE9BQU8sUUFBUSxLQUFLLEdBQUcsV0FBVyxLQUFLO0FBQUEsRUFDdkUsQ0FBQztBQUNIO0FBRUEsU0FBUyxRQUFRLE1BQXNCO0FBQ3JDLE1BQUksQ0FBQyxLQUFLLFNBQVMsR0FBRyxFQUFHLFFBQU87QUFDaEMsTUFBSTtBQUNGLFdBQU8sbUJBQW1CLElBQUk7QUFBQSxFQUNoQyxRQUFRO0FBQ04sV0FBTztBQUFBLEVBQ1Q7QUFDRjs7O0FDekdPLElBQU0sY0FBTixNQUFtQztBQUFBLEVBSXhDLFlBQ21CLFFBQ1YsTUFDVSxXQUNBLFNBQ2pCO0FBSmlCO0FBQ1Y7QUFDVTtBQUNBO0FBQUEsRUFDaEI7QUFBQSxFQUpnQjtBQUFBLEVBQ1Y7QUFBQSxFQUNVO0FBQUEsRUFDQTtBQUFBLEVBUFYsU0FBUyxvQkFBSSxJQUFtQjtBQUFBLEVBQ2pDO0FBQUE7QUFBQSxFQVVSLFFBQVEsTUFBeUI7QUFDL0IsU0FBSyxPQUFPO0FBQ1osU0FBSyxPQUFPO0FBQUEsRUFDZDtBQUFBLEVBRUEsT0FBTyxNQUFpQztBQUN0QyxRQUFJLFNBQVMsUUFBUTtBQUNuQixXQUFLLFNBQVMsVUFBVSxLQUFLLE1BQU0sS0FBSyxPQUFPO0FBQy9DLGFBQU8sRUFBRSxPQUFPLEtBQUssTUFBTSxRQUFRLHFDQUFxQztBQUFBLElBQzFFO0FBQ0EsV0FBTyxLQUFLLE9BQU8sSUFBSSxJQUFJLEtBQUssS0FBSyxVQUFVLE9BQU8sSUFBSTtBQUFBLEVBQzVEO0FBQUEsRUFFQSxDQUFDLFFBQTBCO0FBQ3pCLFVBQU07QUFDTixXQUFPLEtBQUssT0FBTyxLQUFLO0FBQ3hCLFdBQU8sS0FBSyxVQUFVLE1BQU07QUFBQSxFQUM5QjtBQUFBLEVBRUEsSUFBSSxTQUE0QjtBQUM5QixXQUFPLENBQUMsYUFBYSxLQUFLLE1BQU0sSUFBSSxHQUFHLEtBQUssVUFBVSxNQUFNO0FBQUEsRUFDOUQ7QUFDRjtBQU1PLFNBQVMsVUFDZCxRQUNBLFVBQ0EsT0FDQSxFQUFFLE9BQU8sV0FBVyxVQUFVLEtBQUssR0FDbkMsU0FDUTtBQUNSLFFBQU0sUUFBUSxJQUFJLFlBQVksUUFBUSxPQUFPLFdBQVcsT0FBTztBQUMvRCxRQUFNLGFBQWEsSUFBSSxXQUFXLE9BQU8sRUFBRSxPQUFPLFNBQVMsQ0FBQztBQUM1RCxRQUFNLFFBQXVCLENBQUM7QUFDOUIsUUFBTSxTQUFTLG9CQUFJLElBQVk7QUFDL0IsTUFBSTtBQUNKLGFBQVcsRUFBRSxNQUFNLE1BQU0sSUFBSSxLQUFLLFVBQVU7QUFDMUMsUUFBSSxLQUFNLFlBQVcsU0FBUyxDQUFDO0FBQy9CLFFBQUk7QUFDSixRQUFJO0FBQ0osUUFBSTtBQUNGLGlCQUFXLGdCQUFnQjtBQUMzQixjQUFRLElBQUksVUFBVTtBQUN0QixlQUFTLFdBQVc7QUFBQSxJQUN0QixTQUFTLE9BQU87QUFDZCxZQUFNLFVBQVUsVUFBVSxLQUFLO0FBQy9CLFlBQU0sVUFBVSxRQUFRLFNBQVMsa0JBQWtCLE9BQU8sSUFBSSxPQUFPLFFBQVEsS0FBSyxJQUFJLENBQUM7QUFDdkYsVUFBSSxDQUFDLFFBQVMsUUFBUSxTQUFTLG9CQUFvQixDQUFDLFFBQVUsT0FBTTtBQUNwRSxrQkFBWTtBQUNaLGFBQU8sSUFBSSxJQUFJO0FBQ2Y7QUFBQSxJQUNGO0FBQ0EsUUFBSSxVQUFVLFFBQVM7QUFDdkIsVUFBTSxLQUFLLEVBQUUsTUFBTSxNQUFNLE9BQU8sUUFBUSxPQUFPLE9BQU8sVUFBVSxPQUFPLFFBQVEsV0FBVyxNQUFNLElBQUksT0FBVSxDQUFDO0FBQy9HLFFBQUksU0FBUyxRQUFTLE9BQU0sT0FBTyxJQUFJLE1BQU0sRUFBRSxPQUFPLFFBQVEsYUFBYSxNQUFNLElBQUksT0FBTyxDQUFDO0FBQUEsUUFDeEYsT0FBTSxRQUFRLE1BQU0sUUFBUSxNQUFNLE1BQU0sTUFBTSxNQUFNLE9BQU8sTUFBTSxDQUFDO0FBQUEsRUFDekU7QUFDQSxTQUFPLEVBQUUsTUFBTSxNQUFNLE1BQU0sT0FBTyxRQUFRO0FBQzVDO0FBR0EsU0FBUyxVQUFVLE9BQWMsUUFBaUIsUUFBa0Q7QUFDbEcsTUFBSSxDQUFDLE9BQVEsUUFBTyxXQUFXLEtBQUs7QUFDcEMsTUFBSSxDQUFDLFVBQVUsT0FBTyxTQUFTLEVBQUcsUUFBTztBQUN6QyxTQUFPLE9BQU8sSUFBSSxDQUFDLFVBQVcsTUFBTSxTQUFTLFNBQVMsTUFBTSxJQUFLLEVBQUUsS0FBSyxFQUFFO0FBQzVFO0FBR08sU0FBUyxXQUFXLE9BQXNCO0FBQy9DLE1BQUksaUJBQWlCLGNBQWUsUUFBTyxJQUFJLFNBQVMsTUFBTSxJQUFJLENBQUM7QUFDbkUsTUFBSSxpQkFBaUIsV0FBWSxRQUFPLE9BQU8sS0FBSyxLQUFLLEVBQUUsU0FBUyxLQUFLO0FBQ3pFLE1BQUksQ0FBQyxNQUFNLFFBQVEsS0FBSyxFQUFHLFFBQU8sT0FBTyxLQUFLO0FBQzlDLFNBQU8sTUFDSjtBQUFBLElBQUksQ0FBQyxTQUNKLFdBQVcsSUFBSSxLQUFLLEtBQUssU0FBUyxVQUFhLEtBQUssVUFBVSxTQUMxRCxHQUFHLE9BQU8sS0FBSyxJQUFJLENBQUMsS0FBSyxPQUFPLEtBQUssS0FBSyxDQUFDLEtBQzNDLE9BQU8sSUFBSTtBQUFBLEVBQ2pCLEVBQ0MsS0FBSyxJQUFJO0FBQ2Q7QUFFQSxTQUFTLE1BQ1AsUUFDQSxNQUNBLE1BQ0EsTUFDQSxPQUNBLFFBQ2E7QUFDYixNQUFJLFNBQVMsT0FBUSxRQUFPLFdBQVcsTUFBTSxNQUFNLE9BQU8sTUFBTTtBQUNoRSxRQUFNLFFBQ0osaUJBQWlCLGFBQ2IsVUFDQSxNQUFNLEtBQUssTUFBTSxPQUNmLFNBQ0EsTUFBTSxRQUFRLEtBQUssS0FBSyxXQUFXLEtBQUssSUFDdEMsS0FBSyxNQUFNLFFBQVEsS0FBSyxJQUFJLFNBQVMsS0FBSyxLQUMxQztBQUNWLE1BQUksT0FBTztBQUNULFVBQU0sSUFBSSxRQUFRLG9CQUFvQjtBQUFBLE1BQ3BDLE1BQU0saUJBQWlCLE1BQU0sVUFBVSxTQUFTLFdBQVcsZUFBZSxlQUFlLElBQUksSUFBSSxPQUFPLEtBQUs7QUFBQSxNQUM3RyxRQUFRO0FBQUEsSUFDVixDQUFDO0FBQUEsRUFDSDtBQUNBLE1BQUksU0FBUyxRQUFTLFFBQU8sY0FBYyxNQUFNLE1BQU0sT0FBTyxLQUFLLEdBQUcsTUFBTTtBQUM1RSxjQUFZLE1BQU0sT0FBTyxLQUFLLEdBQUcsTUFBUztBQUMxQyxRQUFNLE9BQW1CLEVBQUUsTUFBTSxPQUFPLE9BQU8sS0FBSyxHQUFHLFFBQVEsYUFBYSxNQUFNLElBQUksT0FBTztBQUM3RixTQUFPLFdBQVcsTUFBTSxJQUFJO0FBQzlCOyIsCiAgIm5hbWVzIjogWyJmb2xkZWQiXQp9Cg==
