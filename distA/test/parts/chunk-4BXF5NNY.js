import {
  answerLine,
  headerLines,
  outcomeLines
} from "./chunk-2MTLLGSM.js";
import {
  verdictDocument
} from "./chunk-KTI4R62G.js";
import {
  sessionsFrom,
  withInputs
} from "./chunk-IYVFZVMQ.js";
import {
  hold
} from "./chunk-TSTZ2E5O.js";
import {
  wholeNumber
} from "./chunk-E5WEDB6Y.js";
import {
  emit
} from "./chunk-TR4WUM2M.js";
import {
  demandTableFile,
  gathered,
  pagesOf,
  tableWriter
} from "./chunk-EHQEYXN5.js";
import {
  LiveSink
} from "./chunk-PBFMTA3I.js";
import {
  answerMismatches,
  sendRequest
} from "./chunk-RCNXIKQJ.js";
import {
  brief
} from "./chunk-4THVOAEK.js";
import {
  findOperation
} from "./chunk-KPXZDYPQ.js";
import {
  linksIn,
  readPlace
} from "./chunk-V2NIP2IX.js";
import {
  requestFile
} from "./chunk-B5MWC56M.js";
import {
  shaped
} from "./chunk-IIWAP3H3.js";
import {
  parseYaml
} from "./chunk-2NSBAQ4L.js";
import {
  hidden
} from "./chunk-KTFSZ6KS.js";
import {
  exitStatus,
  problemLines
} from "./chunk-3RBKBAZJ.js";
import {
  colouredJson
} from "./chunk-XSSAWHTI.js";
import {
  printable,
  printableLine
} from "./chunk-NAZM5QF7.js";
import {
  table
} from "./chunk-36MCF5ZC.js";
import {
  cellIn,
  cellText,
  columnsIn,
  listsIn
} from "./chunk-5DCQHAPP.js";
import {
  decompressors,
  undecodable
} from "./chunk-ZDSFE6MK.js";
import {
  Received
} from "./chunk-4DNYAMDJ.js";
import {
  durationText,
  parseDuration,
  sizeText
} from "./chunk-IQWA53IU.js";
import {
  noNames
} from "./chunk-ILBUWU7B.js";
import {
  nearestHint
} from "./chunk-PACVB44P.js";
import {
  textOf
} from "./chunk-ZC7SUIQQ.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";
import {
  duplicateKeys,
  pathBelow,
  writeJson
} from "./chunk-RABAPZK5.js";
import {
  isValueMap,
  plain,
  typeOf
} from "./chunk-XGDOGID3.js";

// src/cli/ad-hoc.ts
import { stringify } from "yaml";
function adHocRequest({ method, url, headers, query, body: given, session, cookies, redirects, timeout }, schemaLine) {
  const body = bodyOf(given);
  const content = {
    method: method.toUpperCase(),
    url: addressText(url),
    ...query.length > 0 && { query: pairs(query, "=", "--query NAME=VALUE") },
    ...headers.length > 0 && { headers: pairs(headers, ":", "--header 'NAME: VALUE'") },
    ...session !== void 0 && { session },
    ...cookies && { cookies: pairs(cookies, "=", "--cookie NAME=VALUE") },
    ...redirects !== void 0 && { redirects: redirectsFrom(redirects) },
    ...timeout !== void 0 && { timeout: { total: durationFrom(timeout) } },
    ...body && { body }
  };
  const text = `# yaml-language-server: $schema=${schemaLine}
${stringify(content, { lineWidth: 0 })}`;
  const yaml = parseYaml(text, "the command line");
  return { text, loaded: { name: "command line", yaml, content: shaped(requestFile, yaml) } };
}
function redirectsFrom(text) {
  if (text === "none") return text;
  if (/^\d+$/.test(text)) return Number(text);
  throw new Problem("usage", { what: `--redirects takes a number or none, not ${text}` });
}
function durationFrom(text) {
  if (parseDuration(text) !== void 0) return text;
  throw new Problem("usage", { what: `--timeout takes a duration with its unit, such as 500ms or 5s, not ${text}` });
}
function addressText(url) {
  const plain2 = url.replaceAll("{", "%7B").replaceAll("}", "%7D");
  return plain2.startsWith("/") ? `\${origin}${plain2}` : plain2;
}
function pairs(given, mark, form, read = escaped) {
  const all = {};
  for (const text of given) {
    const at = text.indexOf(mark);
    if (at <= 0)
      throw new Problem("usage", { what: `${JSON.stringify(text)} is not a name and a value`, remedy: form });
    const name = text.slice(0, at).trim();
    const value = mark === ":" ? text.slice(at + 1).trim() : text.slice(at + 1);
    all[name] = [...all[name] ?? [], read(value)];
  }
  return Object.fromEntries(
    Object.entries(all).map(([name, values]) => [name, values.length === 1 ? values[0] : values])
  );
}
function bodyOf(given) {
  const { json, text, file, template, xml, graphql, variables, soap, soapAction, form, parts, partFiles } = given;
  const multipart = parts !== void 0 || partFiles !== void 0;
  const kinds = [json, text, file, template, xml, graphql, soap, form, multipart || void 0];
  if (kinds.filter((kind) => kind !== void 0).length > 1) {
    throw new Problem("usage", {
      what: "a request has one body",
      remedy: "one of --body-json, --body-text, --body-xml, --body-file, --body-template, --graphql, --soap, --form, or --part with --part-file"
    });
  }
  if (variables && graphql === void 0)
    throw new Problem("usage", { what: "--variable goes with --graphql", remedy: "--graphql DOCUMENT" });
  if (soapAction !== void 0 && soap === void 0)
    throw new Problem("usage", { what: "--soap-action goes with --soap", remedy: "--soap ENVELOPE" });
  if (template !== void 0) return { template };
  if (xml !== void 0) return { xml: escaped(xml) };
  if (graphql !== void 0) {
    const named = pairs(variables ?? [], "=", "--variable NAME=VALUE", jsonOrText);
    return { graphql: { document: escaped(graphql), ...variables && { variables: named } } };
  }
  if (soap !== void 0) return { soap: { envelope: escaped(soap), ...soapAction && { action: soapAction } } };
  if (json !== void 0) return { json: literal(parsedBody(json)) };
  if (text !== void 0) return { text: escaped(text) };
  if (file !== void 0) return { file: escaped(file) };
  if (form !== void 0) return { form: pairs(form, "=", "--form NAME=VALUE") };
  if (!multipart) return void 0;
  const files = Object.entries(pairs(partFiles ?? [], "=", "--part-file NAME=PATH")).map(([name, paths]) => {
    const all = [paths].flat().map((path) => ({ file: path }));
    return [name, all.length === 1 ? all[0] : all];
  });
  return { parts: { ...pairs(parts ?? [], "=", "--part NAME=VALUE"), ...Object.fromEntries(files) } };
}
function jsonOrText(text) {
  try {
    return literal(JSON.parse(text));
  } catch {
    return escaped(text);
  }
}
function parsedBody(text) {
  try {
    return JSON.parse(text);
  } catch (error) {
    throw new Problem("usage", {
      what: "--body-json is not JSON",
      cause: error.message,
      remedy: `quote it for the shell: --body-json '{"nights": 2}'`
    });
  }
}
function literal(value) {
  if (typeof value === "string") return escaped(value);
  if (Array.isArray(value)) return value.map(literal);
  if (typeof value !== "object" || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, item]) => [key, literal(item)]));
}
var escaped = (text) => text.replaceAll("${", () => "$${");

// src/cli/view/answer.ts
import { createHash } from "node:crypto";
var views = ["pretty", "raw", "headers", "outline", "table", "none"];
function prettyText(received, colours, hide) {
  if (received.size === 0 || received.parts.body.length === 0) return "";
  if (!received.textual) return bytesText(received, colours);
  if (received.claimsJson || /^\s*[{[]/.test(received.text)) {
    try {
      return colouredJson(received.json(), colours, hide);
    } catch {
    }
  }
  const text = printable(hide(received.text));
  return /[/+]xml$/.test(received.mediaType) ? laidOut(text) : text;
}
function laidOut(xml) {
  if (/>\s*\n\s*</.test(xml)) return xml.trimEnd();
  let depth = 0;
  return xml.replace(/>\s*</g, ">\n<").split("\n").map((line) => {
    if (/^<\//.test(line)) depth = Math.max(0, depth - 1);
    const shown = "  ".repeat(depth) + line;
    if (/^<[^!?/][^>]*[^/]>$/.test(line) || /^<[^!?/]>$/.test(line)) depth += 1;
    return shown;
  }).join("\n");
}
var shownBytes = 128;
function bytesText({ parts: { body }, mediaType }, colours) {
  const digest = createHash("sha256").update(body).digest("hex");
  const lines = [`${mediaType || "bytes"}, ${sizeText(body.length)}, SHA-256 ${digest}`];
  for (let at = 0; at < Math.min(body.length, shownBytes); at += 16) {
    const row = [...body.subarray(at, Math.min(at + 16, shownBytes))];
    const hex = row.map((byte) => byte.toString(16).padStart(2, "0")).join(" ");
    const text = row.map((byte) => byte >= 32 && byte < 127 ? String.fromCharCode(byte) : ".").join("");
    lines.push(`${colours.dim(at.toString(16).padStart(8, "0"))}  ${hex.padEnd(47)}  ${text}`);
  }
  if (body.length > shownBytes) lines.push(colours.dim(`and ${body.length - shownBytes} bytes more`));
  return lines.join("\n");
}
function headersText(wire, received, terminal, hide) {
  const { out } = terminal;
  const sent = table(
    wire.headers.map(({ name, value, origin, secret }) => [
      out.cyan(printableLine(name)),
      secret ? hidden : hide(printableLine(value)),
      out.dim(origin)
    ]),
    terminal,
    { indent: 2, flexible: [1] }
  );
  const blocks = [`${out.bold("sent")}  ${wire.method} ${printableLine(hide(wire.shownUrl))}
${sent}`];
  if (received) {
    const { hints, trailers, tls, protocol, remoteAddress } = received.parts;
    for (const { status, headers } of hints)
      blocks.push(`${out.bold(`hint ${status}`)}
${headerLines(headers, terminal, hide)}`);
    blocks.push(
      `${out.bold("received")}  ${protocol}${remoteAddress === void 0 ? "" : ` from ${remoteAddress}`}
${headerLines(received.headers, terminal, hide)}`
    );
    if (trailers.length > 0) blocks.push(`${out.bold("trailers")}
${headerLines(trailers, terminal, hide)}`);
    if (tls) {
      const { certificate } = tls;
      const facts = [
        ["version", `${tls.protocol}, ${tls.cipher}`],
        ...certificate ? [
          ["certificate", `${certificate.subject}, for ${certificate.names.join(", ")}`],
          ["issuer", certificate.issuer],
          ["good", `${certificate.from.slice(0, 10)} to ${certificate.until.slice(0, 10)}`],
          ["SHA-256", certificate.fingerprint]
        ] : []
      ];
      blocks.push(
        `${out.bold("TLS")}
${table(
          facts.map(([name = "", value = ""]) => [out.cyan(name), printableLine(value)]),
          terminal,
          { indent: 2 }
        )}`
      );
    }
  }
  return blocks.join("\n\n");
}
var outlineDepth = 6;
function outlineText(received, { out }, hide) {
  const lines = [];
  const add = (value, name, depth) => {
    const margin = "  ".repeat(depth);
    if (Array.isArray(value)) {
      const items = value;
      lines.push(`${margin}${name}  ${out.dim(`list of ${items.length}`)}`);
      if (items.length > 0 && depth < outlineDepth) add(items[0], out.dim("each"), depth + 1);
    } else if (isValueMap(value)) {
      lines.push(`${margin}${name}  ${out.dim(`${Object.keys(value).length} members`)}`);
      if (depth < outlineDepth)
        for (const [key, inner] of Object.entries(value)) add(inner, out.cyan(printableLine(key)), depth + 1);
    } else {
      const text = typeof value === "string" ? JSON.stringify(value) : cellText(value) || "null";
      const shown = hide(text);
      lines.push(
        `${margin}${name}  ${out.dim(typeOf(value))}  ${printableLine(shown.length > 60 ? `${shown.slice(0, 60)}\u2026` : shown)}`
      );
    }
  };
  add(received.json(), "$", 0);
  return lines.join("\n");
}
function tableContent(received, { rows, rowsText, columns }) {
  const lists = listsIn(received.json());
  const wanted = rows?.(received);
  if (rows && !Array.isArray(wanted)) {
    throw new Problem("place-not-found", {
      what: `no list stands at ${rowsText}`,
      remedy: lists.length > 0 ? `lists are at ${lists.slice(0, 5).map(({ at }) => at).join(", ")}` : "the answer has no list of maps"
    });
  }
  const first = lists[0];
  if (!rows && !first) {
    throw new Problem("place-not-found", {
      what: "the answer has no list of maps to show as a table",
      remedy: "--view outline shows its shape"
    });
  }
  const items = wanted ?? first?.items ?? [];
  const paths = columns ? [...columns.values()] : columnsIn(items);
  return {
    at: rowsText ?? first?.at ?? "$",
    items,
    head: columns ? [...columns.keys()] : paths,
    paths,
    others: rows ? [] : lists.slice(1)
  };
}
function tableText({ head, items, paths }, most2, terminal, hide) {
  const rows = items.slice(0, most2).map((item) => paths.map((path) => printableLine(hide(cellText(path === "" ? item : cellIn(item, path))))));
  return table(rows, terminal, { head, flexible: head.map((_, index) => index) });
}

// src/cli/sending/file-sink.ts
import { once } from "node:events";
import {
  createWriteStream,
  existsSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync
} from "node:fs";
import { dirname, resolve } from "node:path";
import { finished, pipeline } from "node:stream/promises";
import * as z from "zod/mini";
function demandWritable(path) {
  const folder = dirname(resolve(path));
  if (!existsSync(folder)) {
    throw new Problem("usage", {
      what: `--to ${path}: there is no folder ${folder}`,
      remedy: "make it first, or name another file"
    });
  }
  if (existsSync(path) && !statSync(path).isFile())
    throw new Problem("usage", { what: `--to ${path}: that is a folder`, remedy: "name a file in it" });
}
var partFile = z.strictObject({ tag: z.string() });
var FileSink = class {
  constructor(path, terminal) {
    this.path = path;
    this.terminal = terminal;
    demandWritable(path);
    this.part = `${path}.part`;
    this.note = `${path}.part.json`;
  }
  path;
  terminal;
  saved = 0;
  part;
  note;
  coding = "";
  out;
  way;
  failure;
  announced = 0;
  /** Asks for the rest where a part is there. */
  get lines() {
    const known = this.known();
    if (!known) return [];
    const line = (name, value) => ({ name, value, origin: "--to", secret: false });
    return [line("Range", `bytes=${statSync(this.part).size}-`), line("If-Range", known.tag)];
  }
  known() {
    if (!existsSync(this.part) || !existsSync(this.note)) return void 0;
    try {
      return statSync(this.part).size > 0 ? partFile.parse(JSON.parse(readFileSync(this.note, "utf8"))) : void 0;
    } catch {
      return void 0;
    }
  }
  begin(status, headers) {
    if (status !== 200 && status !== 206) return "nothing";
    const header = (name) => headers.find(([key]) => key.toLowerCase() === name)?.[1];
    const before = status === 206 && existsSync(this.part) ? statSync(this.part).size : 0;
    const [, from] = /^bytes (\d+)-/.exec(header("content-range") ?? "") ?? [];
    if (status === 206 && Number(from) !== before) return "nothing";
    this.coding = header("content-encoding") ?? "";
    const tag = header("etag");
    if (tag !== void 0 && !tag.startsWith("W/") && this.coding === "") {
      writeFileSync(this.note, JSON.stringify({ tag }));
    } else rmSync(this.note, { force: true });
    this.saved = before;
    this.announced = this.coding === "" ? before + Number(header("content-length") ?? 0) : 0;
    this.out = createWriteStream(this.part, { flags: before > 0 ? "a" : "w" });
    this.out.on("error", ({ message }) => {
      this.failure ??= new Problem("file-unreadable", {
        what: `the answer could not be written to ${this.path}`,
        cause: message
      });
    });
    return "instead";
  }
  /** How the first piece begins tells how some codings are undone. */
  wayFrom(first) {
    const out = this.out;
    const steps = decompressors(first, this.coding);
    const [into] = steps;
    const written = into ? pipeline([...steps, out]) : finished(out);
    steps.at(-1)?.on("data", (chunk) => {
      this.saved += chunk.length;
    });
    written.catch((error) => {
      this.failure ??= undecodable(this.coding, error);
    });
    return { into: into ?? out, written };
  }
  write(chunk) {
    if (this.failure) return Promise.reject(this.failure);
    try {
      this.way ??= this.wayFrom(chunk);
    } catch (error) {
      return Promise.reject(error);
    }
    const { into } = this.way;
    if (into === this.out) this.saved += chunk.length;
    this.terminal.progress(
      `saved ${sizeText(this.saved)}${this.announced > 0 ? ` of ${sizeText(this.announced)}` : ""}`
    );
    if (into.write(chunk)) return void 0;
    return once(into, "drain").then(
      () => void 0,
      (error) => Promise.reject(this.failure ?? error)
    );
  }
  /**
   * @param whole false where the answer was cut short: the part stays, to be gone on with
   * @returns whether the file is there now; undefined where the body was none to save
   * @throws Problem file-unreadable, answer-encoding
   */
  async finish(whole) {
    if (!this.out) return void 0;
    const { into, written } = this.way ?? { into: this.out, written: finished(this.out) };
    into.end();
    await written.catch(() => void 0);
    this.terminal.progress("");
    if (!whole) return false;
    if (this.failure) throw this.failure;
    renameSync(this.part, this.path);
    rmSync(this.note, { force: true });
    return true;
  }
};

// src/cli/sending/options.ts
function answerOptions(command) {
  return command.option("--session <name>", "another session, or none").option("--sign <name>", "another signature, or none").option("--no-cookies", "neither send cookies nor keep those that come").option("--view <view>", `how the answer is shown: ${views.join(", ")}`).option("--pick <place>", "print one value of the answer and nothing else").option("--rows <place>", "the list that a table shows; else the largest").option("--columns <paths>", "the columns of a table, such as imo,name,berth.code; else those that are found").option("--most <number>", "show at most so many rows of a table", "20").option(
    "--to <file>",
    "save the answer to a file as it comes; with --view table, the whole table as .csv, .json or .jsonl"
  ).option("--pages <number>", "so many pages of the list as one, or all of them").option("--live", "show a stream as it comes").option("--accept-certificate", "take the certificate of the host, whoever signed it, and pin it for a day").option("--allow-changes", "say yes where the environment asks before a change");
}
async function wishesOf(options, prepared, terminal) {
  const own = prepared.plan.content.table;
  const rowsText = options.rows ?? own?.rows;
  const wantsTable = own !== void 0 || options.rows !== void 0 || options.columns !== void 0;
  const view = options.view ?? (wantsTable ? "table" : "pretty");
  if (!views.includes(view)) {
    throw new Problem("usage", {
      what: `there is no view ${view}`,
      remedy: `${nearestHint(view, views)}; there are ${views.join(", ")}`
    });
  }
  const most2 = wholeNumber(options.most, "--most", { least: 1 });
  const loads = [];
  const picked = options.pick === void 0 ? void 0 : readPlace(options.pick, loads);
  const rows = rowsText === void 0 ? void 0 : readPlace(rowsText, loads);
  await Promise.all(loads);
  const live = options.live === true;
  const to = options.to;
  if (to !== void 0 && view === "table") demandTableFile(to);
  if (to !== void 0 && (live || picked))
    throw new Problem("usage", { what: `--to and --${picked ? "pick" : "live"} do not go together` });
  if (live && (picked || terminal.json))
    throw new Problem("usage", { what: `--live and --${picked ? "pick" : "json"} do not go together` });
  return {
    view,
    picked,
    to,
    live,
    sink: to !== void 0 && view !== "table" ? new FileSink(to, terminal) : void 0,
    table: {
      rows: rows && ((received) => rows.find(received)),
      rowsText,
      columns: columnsFrom(options.columns) ?? columnsOf(own?.columns),
      most: most2
    }
  };
}
function columnsFrom(given) {
  if (given === void 0) return void 0;
  return new Map(given.split(",").map((path) => [path.trim(), path.trim()]));
}
function columnsOf(given) {
  if (given === void 0) return void 0;
  return new Map(Array.isArray(given) ? given.map((path) => [path, path]) : Object.entries(given));
}

// src/core/exchange/links.ts
var most = 500;
var called = /^(?:href|url|uri|link|self|next|prev|previous|first|last|location)$|(?:Url|Uri|Link|Href|_url|_uri|_link)$/;
function linksOf(observed, json) {
  const found = /* @__PURE__ */ new Map();
  const own = URL.canParse(observed.finalUrl) ? new URL(observed.finalUrl).href : "";
  const add = (target, at, about) => {
    if (found.size >= most || !URL.canParse(target, observed.finalUrl)) return;
    const { href, protocol } = new URL(target, observed.finalUrl);
    if (/^https?:$/.test(protocol) && href !== own && !found.has(href)) found.set(href, { url: href, at, about });
  };
  for (const { target, relations, title } of linksIn(observed.headers))
    add(target, `link.${relations[0] ?? ""}`, title ?? relations.join(" "));
  for (const [name, value] of observed.headers)
    if (/^(?:content-)?location$/i.test(name)) add(value, `header.${name.toLowerCase()}`, void 0);
  if (json !== void 0) inData(json, add);
  else inMarkup(observed.text, add);
  return [...found.values()];
}
function inData(value, add) {
  const visit = (here, at, key, holder) => {
    if (typeof here === "string") {
      if (/^https?:\/\/\S+$/i.test(here) || called.test(key) && /^[^\s<>"{}|\\^`]+$/.test(here))
        add(here, at, nameBeside(holder));
    } else if (Array.isArray(here)) {
      for (const [index, item] of here.entries()) visit(item, pathBelow(at, index), key, holder);
    } else if (isValueMap(here)) {
      for (const [inner, one] of Object.entries(here)) visit(one, pathBelow(at, inner), inner, here);
    }
  };
  visit(value, "$", "", null);
}
function nameBeside(holder) {
  if (!isValueMap(holder)) return void 0;
  const key = ["rel", "title", "name", "label", "id"].find((one) => typeof holder[one] === "string");
  return key === void 0 ? void 0 : holder[key];
}
function inMarkup(text, add) {
  for (const found of text.matchAll(
    /<([\w:-]+)[^<>]*?\s(href|src|action)\s*=\s*(?:"([^"]*)"|'([^']*)')[^<>]*>([^<]*)/gi
  )) {
    const [, element = "", attribute = "", double, single, inside = ""] = found;
    const target = (double ?? single ?? "").replaceAll("&amp;", "&");
    if (target !== "" && !target.startsWith("#")) add(target, `${element} ${attribute}`, inside.trim() || void 0);
  }
}

// src/cli/view/send-document.ts
var told = (found) => found.map(({ at, what }) => ({ at, what }));
function sendDocument(sent, workspace) {
  const { request, wire, outcome, verdicts, kept, problems, echo } = sent;
  const { hide, hideIn } = workspace.redactor;
  const { received } = outcome;
  return {
    ok: problems.length === 0,
    request: request.name === "command line" ? null : request.name,
    method: wire.method,
    url: hide(wire.shownUrl),
    status: received?.status ?? null,
    reason: received?.parts.reason ?? null,
    headers: received?.headers.map(([name, value]) => [name, hide(value)]) ?? [],
    body: received && received.size > 0 ? bodyDocument(received, hide, hideIn) : null,
    phases: Object.fromEntries(
      Object.entries(received?.parts.phases ?? {}).filter((entry) => entry[1] !== void 0)
    ),
    size: received?.size ?? 0,
    finalUrl: received ? hide(received.finalUrl) : null,
    expectations: verdicts.map(verdictDocument),
    kept: Object.fromEntries(kept.map(({ name, value, secret }) => [name, secret ? hidden : hideIn(plain(value))])),
    undocumented: told(sent.undocumented),
    doubts: [...sent.doubts],
    ...sent.refusal && {
      refusal: {
        kind: sent.refusal.kind,
        sent: [...sent.refusal.sent],
        said: sent.refusal.said.map(hide),
        clock: sent.refusal.clock ?? null,
        remedies: [...sent.refusal.remedies]
      }
    },
    problems: problems.map((problem) => brief(problem, hide)),
    echo
  };
}
function bodyDocument(received, hide, hideIn) {
  if (!received.textual) return null;
  if (!received.claimsJson) return hide(received.text);
  try {
    return hideIn(received.json());
  } catch {
    return hide(received.text);
  }
}

// src/cli/sending/all-pages.ts
async function sendPages(workspace, prepared, sending, pages, terminal) {
  const most2 = pages === void 0 ? 1 : pages === "all" ? void 0 : wholeNumber(pages, "--pages", { least: 1 });
  if (!prepared.pages) {
    if (pages === void 0) return { sent: await sendRequest(workspace, prepared, sending), count: void 0 };
    throw new Problem("usage", {
      what: `--pages: the request ${prepared.plan.name} does not say how its pages are asked for`,
      remedy: "pages: in the request file says so"
    });
  }
  const items = [];
  let kept = /* @__PURE__ */ new Map();
  for await (const page of pagesOf(workspace, prepared, sending, most2)) {
    items.push(...page.items);
    kept = gathered(kept, page.sent.kept);
    const { total } = page.count;
    if (!page.last)
      terminal.progress(`page ${page.count.pages}: ${items.length}${total === void 0 ? "" : ` of ${total}`} items`);
    else if (pages === void 0) return { sent: page.sent, count: page.count };
    else return { sent: { ...listed(page.sent, items), kept: [...kept.values()] }, count: page.count };
  }
  throw new Problem("fault", { what: "pages ended without a last one" });
}
function listed(sent, items) {
  const { received } = sent.outcome;
  if (!received || sent.problems.length > 0) return sent;
  const { parts } = received;
  const headers = parts.headers.map(
    ([name, value]) => name.toLowerCase() === "content-type" ? [name, "application/json"] : [name, value]
  );
  const body = Buffer.from(writeJson(items));
  return { ...sent, outcome: { ...sent.outcome, received: new Received({ ...parts, headers, body }) } };
}

// src/cli/sending/send-and-show.ts
async function sendAndShow(context, workspace, prepared, options, recorded) {
  const { terminal, signal } = context;
  const wishes = await wishesOf(options, prepared, terminal);
  const hide = workspace.redactor.hide;
  workspace.onWait = ({ host, wait, why }) => terminal.note(terminal.err.dim(`waiting ${durationText(wait)} for ${host} (${why})`));
  const live = wishes.live ? new LiveSink((text) => terminal.print(printable(hide(text)))) : void 0;
  const sink = wishes.sink ?? live;
  const { sent, count } = await whileWaiting(
    terminal,
    prepared,
    sink,
    () => withInputs(
      workspace,
      prepared,
      terminal,
      options.ask === true,
      ({ given }) => sendPages(
        workspace,
        prepared,
        {
          given,
          caller: noNames,
          signal,
          sessions: sessionsFrom(options.session),
          signature: options.sign,
          documented: options.strict === true ? "refuse" : "tell",
          noCookies: options.cookies === false,
          sink,
          lines: sink?.lines,
          ...options.acceptCertificate === true && {
            onAccepted: ({ subject, fingerprint }, until) => terminal.note(
              `${terminal.err.yellow("accepted")}  ${printableLine(subject)}, until ${until.slice(0, 16).replace("T", " ")} UTC
          SHA-256 ${fingerprint}`
            )
          }
        },
        options.pages,
        terminal
      ),
      recorded
    )
  );
  live?.finish();
  const saved = await wishes.sink?.finish(sent.outcome.trouble === void 0);
  await hold(workspace.collection.local, workspace.environment.name, sent.request.name, sent.kept, workspace.redactor);
  const status = Math.max(0, ...sent.problems.map(exitStatus));
  for (const { at, what } of sent.undocumented)
    terminal.note(`${terminal.err.yellow("warning")}  ${hide(`${at} ${what}`)}`);
  for (const doubt of sent.doubts) terminal.note(`${terminal.err.yellow("warning")}  ${doubt}`);
  const against = options.againstDocs === true ? differencesOf(sent, workspace) : void 0;
  for (const { at, what } of against ?? [])
    terminal.note(`${terminal.err.yellow("undocumented")}  ${hide(`${at} ${what}`)}`);
  if (against?.length === 0) terminal.note("the answer is as documented");
  if (wishes.picked) return printPicked(sent, wishes.picked, context, hide, status);
  if (terminal.json) {
    const pages = count && { ...count, total: count.total ?? null, partial: count.partial ?? null };
    emit(terminal, "send", {
      ...sendDocument(sent, workspace),
      ...pages && { pages },
      ...against && { againstDocs: told(against) }
    });
    return status;
  }
  await printSent(sent, workspace, terminal, wishes, { saved, shown: live?.begun === true });
  if (count) tellPages(count, options.pages === void 0, terminal);
  return status;
}
async function whileWaiting(terminal, { plan }, sink, work) {
  const started = performance.now();
  const timer = setInterval(() => {
    if (sink && sink.saved > 0) return;
    terminal.progress(`${plan.method} ${plan.name}: waiting, ${durationText(performance.now() - started)}`);
  }, 200);
  try {
    return await work();
  } finally {
    clearInterval(timer);
    terminal.progress("");
  }
}
function differencesOf({ request, outcome: { received } }, { collection }) {
  if (request.operation === void 0) {
    throw new Problem("usage", {
      what: `--against-docs: ${request.name} names no documented operation`,
      remedy: "operation: SOURCE/OPERATION in the request file says what it is"
    });
  }
  return received ? answerMismatches(received, findOperation(collection, request.operation)) : [];
}
function printPicked({ outcome, problems }, place, { terminal }, hide, status) {
  const { received } = outcome;
  const found = received && place.find(received);
  for (const problem of problems) terminal.complain(problemLines(problem, terminal.err, hide));
  if (found === void 0 || !received) {
    if (!received) return status;
    const near = place.near(received);
    const problem = new Problem("place-not-found", {
      what: `nothing stands at ${place.text}`,
      cause: `the answer is ${received.status}`,
      remedy: near && `nearest: ${near}`
    });
    terminal.complain(problemLines(problem, terminal.err, hide));
    return status || 1;
  }
  const value = plain(found);
  terminal.print(
    printable(
      hide(isValueMap(value) || Array.isArray(value) ? writeJson(found) : value === null ? "null" : textOf(found))
    )
  );
  return status;
}
async function printSent(sent, workspace, terminal, wishes, { saved, shown }) {
  const { wire, outcome, echo } = sent;
  const { err } = terminal;
  const { hide } = workspace.redactor;
  const { received, trouble } = outcome;
  terminal.note(
    `${err.cyan(wire.method)} ${printableLine(hide(wire.shownUrl))}   ${err.dim(`environment ${workspace.environment.name}`)}`
  );
  if (received) {
    for (const hop of received.parts.hops)
      terminal.note(err.dim(`  ${hop.status} from ${printableLine(hide(hop.url))}`));
    if (received.parts.hops.length > 0) terminal.note(err.dim(`  led to ${printableLine(hide(received.finalUrl))}`));
    terminal.note(answerLine(received, err));
    if (saved !== void 0) terminal.note(savedText(saved, received, wishes.to));
    else if (wishes.view === "headers") terminal.print(headersText(wire, received, terminal, hide));
    else if (!shown) await printBody(received, wishes, terminal, hide);
    if (wishes.view === "pretty" && !shown && saved === void 0) tellMore(received, terminal);
  } else if (wishes.view === "headers") terminal.print(headersText(wire, void 0, terminal, hide));
  for (const line of outcomeLines(sent, err, hide)) terminal.complain(line);
  if (trouble) terminal.complain(problemLines(trouble, err, hide));
  terminal.note(err.dim(`${"echo".padEnd(trouble ? 7 : 8)}${echo}`));
}
function tellPages({ pages, items, total, partial }, first, terminal) {
  const { err } = terminal;
  const counted = `${items}${total === void 0 ? "" : ` of ${total}`} items on ${pages} ${pages === 1 ? "page" : "pages"}`;
  if (partial === void 0) terminal.note(err.dim(`pages   ${counted}`));
  else if (first) terminal.note(`${err.yellow("pages")}   ${counted}: --pages all reads on`);
  else terminal.note(`${err.yellow("partial")} ${counted}: ${partial}`);
}
var savedText = (saved, { size }, to) => saved ? `saved ${sizeText(size)} to ${to}` : `${sizeText(size)} are in ${to}.part; the same command goes on from there where the server allows it`;
async function printBody(received, { view, table: table2, to }, terminal, hide) {
  if (view === "none" || received.size === 0) return;
  if (view === "raw") terminal.print(printable(hide(received.text)).replace(/\n$/, ""));
  else if (view === "outline") terminal.print(outlineText(received, terminal, hide));
  else if (view === "table") {
    const content = tableContent(received, table2);
    if (to !== void 0) {
      await writeTable(content, to);
      terminal.note(`${content.items.length} rows of ${content.at} written to ${to}`);
      return;
    }
    terminal.print(tableText(content, table2.most, terminal, hide));
    const more = content.items.length - table2.most;
    if (more > 0) terminal.note(`and ${more} more rows of ${content.at}: --most ${content.items.length}`);
    if (content.others.length > 0) {
      const others = content.others.slice(0, 4).map(({ at, items }) => `${at} (${items.length})`);
      terminal.note(`the largest list, ${content.at}, is shown; other lists are ${others.join(", ")}: --rows`);
    }
  } else {
    const text = prettyText(received, terminal.out, hide);
    if (text !== "") terminal.print(text);
  }
}
async function writeTable({ items, head, paths }, to) {
  const writer = await tableWriter(to, head);
  for (const item of items) {
    const cells = head.map((name, index) => [name, cellIn(item, paths[index]) ?? null]);
    await writer.add(Object.fromEntries(cells));
  }
  await writer.finish();
}
function tellMore(received, terminal) {
  if (received.parts.body.length > 2e6) return;
  if (received.claimsJson && received.textual) {
    for (const key of duplicateKeys(received.text).slice(0, 3))
      terminal.note(`${terminal.err.yellow("warning")}  ${key} stands twice in the answer; the last one counts`);
  }
  const links = safeLinks(received);
  if (links > 0)
    terminal.note(
      terminal.err.dim(`links   ${links}: echo-trail follow lists them, echo-trail follow 1 sends the first`)
    );
}
function safeLinks(received) {
  if (!received.textual) return 0;
  let json;
  try {
    json = received.claimsJson ? received.json() : void 0;
  } catch {
    return 0;
  }
  return linksOf(received, json).length;
}

export {
  adHocRequest,
  answerOptions,
  linksOf,
  sendAndShow
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NsaS9hZC1ob2MudHMiLCAiLi4vLi4vLi4vc3JjL2NsaS92aWV3L2Fuc3dlci50cyIsICIuLi8uLi8uLi9zcmMvY2xpL3NlbmRpbmcvZmlsZS1zaW5rLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvc2VuZGluZy9vcHRpb25zLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2V4Y2hhbmdlL2xpbmtzLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvdmlldy9zZW5kLWRvY3VtZW50LnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvc2VuZGluZy9hbGwtcGFnZXMudHMiLCAiLi4vLi4vLi4vc3JjL2NsaS9zZW5kaW5nL3NlbmQtYW5kLXNob3cudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBBIHJlcXVlc3QgZnJvbSB0aGUgY29tbWFuZCBsaW5lIGFsb25lLCBhcyB0aGUgcmVxdWVzdCBmaWxlIHRoYXQgZG9lcyB0aGUgc2FtZS4gKi9cbmltcG9ydCB7IHN0cmluZ2lmeSB9IGZyb20gJ3lhbWwnO1xuaW1wb3J0IHR5cGUgeyBMb2FkZWQgfSBmcm9tICcuLi9jb3JlL2NvbGxlY3Rpb24vY29sbGVjdGlvbi5qcyc7XG5pbXBvcnQgeyB0eXBlIFJlcXVlc3RGaWxlLCByZXF1ZXN0RmlsZSB9IGZyb20gJy4uL2NvcmUvY29sbGVjdGlvbi9maWxlcy9yZXF1ZXN0LWZpbGUuanMnO1xuaW1wb3J0IHsgc2hhcGVkIH0gZnJvbSAnLi4vY29yZS9jb2xsZWN0aW9uL3NoYXBlLmpzJztcbmltcG9ydCB7IHBhcnNlWWFtbCB9IGZyb20gJy4uL2NvcmUvY29sbGVjdGlvbi95YW1sLmpzJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi9jb3JlL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBwYXJzZUR1cmF0aW9uIH0gZnJvbSAnLi4vY29yZS92YWx1ZS9tZWFzdXJlcy5qcyc7XG5pbXBvcnQgdHlwZSB7IFZhbHVlIH0gZnJvbSAnLi4vY29yZS92YWx1ZS93cml0dGVuLmpzJztcblxuLyoqIEFzIHRoZSBvcHRpb25zIGdpdmUgaXQ7IG9ubHkgb25lIGtpbmQgYXQgYSB0aW1lLiAqL1xuZXhwb3J0IGludGVyZmFjZSBBZEhvY0JvZHkge1xuICByZWFkb25seSBqc29uPzogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSB0ZXh0Pzogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICAvKiogQSBwYXRoIGluIHRoZSBjb2xsZWN0aW9uLiAqL1xuICByZWFkb25seSBmaWxlPzogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICAvKiogQSBwYXRoIGluIGBib2RpZXMvYC4gKi9cbiAgcmVhZG9ubHkgdGVtcGxhdGU/OiBzdHJpbmcgfCB1bmRlZmluZWQ7XG4gIHJlYWRvbmx5IHhtbD86IHN0cmluZyB8IHVuZGVmaW5lZDtcbiAgLyoqIEEgZG9jdW1lbnQgb3IgaXRzIHBhdGgsIGFuZCBpdHMgdmFyaWFibGVzLiAqL1xuICByZWFkb25seSBncmFwaHFsPzogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSB2YXJpYWJsZXM/OiByZWFkb25seSBzdHJpbmdbXSB8IHVuZGVmaW5lZDtcbiAgLyoqIEFuIGVudmVsb3BlIG9yIGl0cyBwYXRoLCBhbmQgaXRzIGFjdGlvbi4gKi9cbiAgcmVhZG9ubHkgc29hcD86IHN0cmluZyB8IHVuZGVmaW5lZDtcbiAgcmVhZG9ubHkgc29hcEFjdGlvbj86IHN0cmluZyB8IHVuZGVmaW5lZDtcbiAgcmVhZG9ubHkgZm9ybT86IHJlYWRvbmx5IHN0cmluZ1tdIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSBwYXJ0cz86IHJlYWRvbmx5IHN0cmluZ1tdIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSBwYXJ0RmlsZXM/OiByZWFkb25seSBzdHJpbmdbXSB8IHVuZGVmaW5lZDtcbn1cblxuZXhwb3J0IGludGVyZmFjZSBBZEhvYyB7XG4gIHJlYWRvbmx5IG1ldGhvZDogc3RyaW5nO1xuICByZWFkb25seSB1cmw6IHN0cmluZztcbiAgcmVhZG9ubHkgaGVhZGVyczogcmVhZG9ubHkgc3RyaW5nW107XG4gIHJlYWRvbmx5IHF1ZXJ5OiByZWFkb25seSBzdHJpbmdbXTtcbiAgcmVhZG9ubHkgYm9keTogQWRIb2NCb2R5O1xuICByZWFkb25seSBzZXNzaW9uOiBzdHJpbmcgfCB1bmRlZmluZWQ7XG4gIHJlYWRvbmx5IGNvb2tpZXM/OiByZWFkb25seSBzdHJpbmdbXSB8IHVuZGVmaW5lZDtcbiAgLyoqIEEgbnVtYmVyLCBvciBgbm9uZWAuICovXG4gIHJlYWRvbmx5IHJlZGlyZWN0cz86IHN0cmluZyB8IHVuZGVmaW5lZDtcbiAgcmVhZG9ubHkgdGltZW91dD86IHN0cmluZyB8IHVuZGVmaW5lZDtcbn1cblxuLyoqIEB0aHJvd3MgUHJvYmxlbSB1c2FnZSAqL1xuZXhwb3J0IGZ1bmN0aW9uIGFkSG9jUmVxdWVzdChcbiAgeyBtZXRob2QsIHVybCwgaGVhZGVycywgcXVlcnksIGJvZHk6IGdpdmVuLCBzZXNzaW9uLCBjb29raWVzLCByZWRpcmVjdHMsIHRpbWVvdXQgfTogQWRIb2MsXG4gIHNjaGVtYUxpbmU6IHN0cmluZyxcbik6IHsgdGV4dDogc3RyaW5nOyBsb2FkZWQ6IExvYWRlZDxSZXF1ZXN0RmlsZT4gfSB7XG4gIGNvbnN0IGJvZHkgPSBib2R5T2YoZ2l2ZW4pO1xuICBjb25zdCBjb250ZW50OiBSZWNvcmQ8c3RyaW5nLCB1bmtub3duPiA9IHtcbiAgICBtZXRob2Q6IG1ldGhvZC50b1VwcGVyQ2FzZSgpLFxuICAgIHVybDogYWRkcmVzc1RleHQodXJsKSxcbiAgICAuLi4ocXVlcnkubGVuZ3RoID4gMCAmJiB7IHF1ZXJ5OiBwYWlycyhxdWVyeSwgJz0nLCAnLS1xdWVyeSBOQU1FPVZBTFVFJykgfSksXG4gICAgLi4uKGhlYWRlcnMubGVuZ3RoID4gMCAmJiB7IGhlYWRlcnM6IHBhaXJzKGhlYWRlcnMsICc6JywgXCItLWhlYWRlciAnTkFNRTogVkFMVUUnXCIpIH0pLFxuICAgIC4uLihzZXNzaW9uICE9PSB1bmRlZmluZWQgJiYgeyBzZXNzaW9uIH0pLFxuICAgIC4uLihjb29raWVzICYmIHsgY29va2llczogcGFpcnMoY29va2llcywgJz0nLCAnLS1jb29raWUgTkFNRT1WQUxVRScpIH0pLFxuICAgIC4uLihyZWRpcmVjdHMgIT09IHVuZGVmaW5lZCAmJiB7IHJlZGlyZWN0czogcmVkaXJlY3RzRnJvbShyZWRpcmVjdHMpIH0pLFxuICAgIC4uLih0aW1lb3V0ICE9PSB1bmRlZmluZWQgJiYgeyB0aW1lb3V0OiB7IHRvdGFsOiBkdXJhdGlvbkZyb20odGltZW91dCkgfSB9KSxcbiAgICAuLi4oYm9keSAmJiB7IGJvZHkgfSksXG4gIH07XG4gIGNvbnN0IHRleHQgPSBgIyB5YW1sLWxhbmd1YWdlLXNlcnZlcjogJHNjaGVtYT0ke3NjaGVtYUxpbmV9XFxuJHtzdHJpbmdpZnkoY29udGVudCwgeyBsaW5lV2lkdGg6IDAgfSl9YDtcbiAgY29uc3QgeWFtbCA9IHBhcnNlWWFtbCh0ZXh0LCAndGhlIGNvbW1hbmQgbGluZScpO1xuICByZXR1cm4geyB0ZXh0LCBsb2FkZWQ6IHsgbmFtZTogJ2NvbW1hbmQgbGluZScsIHlhbWwsIGNvbnRlbnQ6IHNoYXBlZChyZXF1ZXN0RmlsZSwgeWFtbCkgfSB9O1xufVxuXG5mdW5jdGlvbiByZWRpcmVjdHNGcm9tKHRleHQ6IHN0cmluZyk6IG51bWJlciB8ICdub25lJyB7XG4gIGlmICh0ZXh0ID09PSAnbm9uZScpIHJldHVybiB0ZXh0O1xuICBpZiAoL15cXGQrJC8udGVzdCh0ZXh0KSkgcmV0dXJuIE51bWJlcih0ZXh0KTtcbiAgdGhyb3cgbmV3IFByb2JsZW0oJ3VzYWdlJywgeyB3aGF0OiBgLS1yZWRpcmVjdHMgdGFrZXMgYSBudW1iZXIgb3Igbm9uZSwgbm90ICR7dGV4dH1gIH0pO1xufVxuXG5mdW5jdGlvbiBkdXJhdGlvbkZyb20odGV4dDogc3RyaW5nKTogc3RyaW5nIHtcbiAgaWYgKHBhcnNlRHVyYXRpb24odGV4dCkgIT09IHVuZGVmaW5lZCkgcmV0dXJuIHRleHQ7XG4gIHRocm93IG5ldyBQcm9ibGVtKCd1c2FnZScsIHsgd2hhdDogYC0tdGltZW91dCB0YWtlcyBhIGR1cmF0aW9uIHdpdGggaXRzIHVuaXQsIHN1Y2ggYXMgNTAwbXMgb3IgNXMsIG5vdCAke3RleHR9YCB9KTtcbn1cblxuLyoqIEEgcGF0aCBpcyBvbmUgb2YgdGhlIGVudmlyb25tZW50J3Mgb3JpZ2luLiBXaGF0IHdvdWxkIGJlIGFuIGV4cHJlc3Npb24gb3IgYSBwYXJ0IGluIGEgZmlsZSBpcyBwbGFpbiB0ZXh0IGhlcmUuICovXG5mdW5jdGlvbiBhZGRyZXNzVGV4dCh1cmw6IHN0cmluZyk6IHN0cmluZyB7XG4gIGNvbnN0IHBsYWluID0gdXJsLnJlcGxhY2VBbGwoJ3snLCAnJTdCJykucmVwbGFjZUFsbCgnfScsICclN0QnKTtcbiAgcmV0dXJuIHBsYWluLnN0YXJ0c1dpdGgoJy8nKSA/IGBcXCR7b3JpZ2lufSR7cGxhaW59YCA6IHBsYWluO1xufVxuXG5mdW5jdGlvbiBwYWlyczxUID0gc3RyaW5nPihcbiAgZ2l2ZW46IHJlYWRvbmx5IHN0cmluZ1tdLFxuICBtYXJrOiBzdHJpbmcsXG4gIGZvcm06IHN0cmluZyxcbiAgcmVhZDogKHRleHQ6IHN0cmluZykgPT4gVCA9IGVzY2FwZWQgYXMgKHRleHQ6IHN0cmluZykgPT4gVCxcbik6IFJlY29yZDxzdHJpbmcsIFQgfCBUW10+IHtcbiAgY29uc3QgYWxsOiBSZWNvcmQ8c3RyaW5nLCBUW10+ID0ge307XG4gIGZvciAoY29uc3QgdGV4dCBvZiBnaXZlbikge1xuICAgIGNvbnN0IGF0ID0gdGV4dC5pbmRleE9mKG1hcmspO1xuICAgIGlmIChhdCA8PSAwKVxuICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ3VzYWdlJywgeyB3aGF0OiBgJHtKU09OLnN0cmluZ2lmeSh0ZXh0KX0gaXMgbm90IGEgbmFtZSBhbmQgYSB2YWx1ZWAsIHJlbWVkeTogZm9ybSB9KTtcbiAgICBjb25zdCBuYW1lID0gdGV4dC5zbGljZSgwLCBhdCkudHJpbSgpO1xuICAgIGNvbnN0IHZhbHVlID0gbWFyayA9PT0gJzonID8gdGV4dC5zbGljZShhdCArIDEpLnRyaW0oKSA6IHRleHQuc2xpY2UoYXQgKyAxKTtcbiAgICBhbGxbbmFtZV0gPSBbLi4uKGFsbFtuYW1lXSA/PyBbXSksIHJlYWQodmFsdWUpXTtcbiAgfVxuICByZXR1cm4gT2JqZWN0LmZyb21FbnRyaWVzKFxuICAgIE9iamVjdC5lbnRyaWVzKGFsbCkubWFwKChbbmFtZSwgdmFsdWVzXSkgPT4gW25hbWUsIHZhbHVlcy5sZW5ndGggPT09IDEgPyAodmFsdWVzWzBdIGFzIFQpIDogdmFsdWVzXSksXG4gICk7XG59XG5cbmZ1bmN0aW9uIGJvZHlPZihnaXZlbjogQWRIb2NCb2R5KTogUmVjb3JkPHN0cmluZywgdW5rbm93bj4gfCB1bmRlZmluZWQge1xuICBjb25zdCB7IGpzb24sIHRleHQsIGZpbGUsIHRlbXBsYXRlLCB4bWwsIGdyYXBocWwsIHZhcmlhYmxlcywgc29hcCwgc29hcEFjdGlvbiwgZm9ybSwgcGFydHMsIHBhcnRGaWxlcyB9ID0gZ2l2ZW47XG4gIGNvbnN0IG11bHRpcGFydCA9IHBhcnRzICE9PSB1bmRlZmluZWQgfHwgcGFydEZpbGVzICE9PSB1bmRlZmluZWQ7XG4gIGNvbnN0IGtpbmRzID0gW2pzb24sIHRleHQsIGZpbGUsIHRlbXBsYXRlLCB4bWwsIGdyYXBocWwsIHNvYXAsIGZvcm0sIG11bHRpcGFydCB8fCB1bmRlZmluZWRdO1xuICBpZiAoa2luZHMuZmlsdGVyKChraW5kKSA9PiBraW5kICE9PSB1bmRlZmluZWQpLmxlbmd0aCA+IDEpIHtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgndXNhZ2UnLCB7XG4gICAgICB3aGF0OiAnYSByZXF1ZXN0IGhhcyBvbmUgYm9keScsXG4gICAgICByZW1lZHk6XG4gICAgICAgICdvbmUgb2YgLS1ib2R5LWpzb24sIC0tYm9keS10ZXh0LCAtLWJvZHkteG1sLCAtLWJvZHktZmlsZSwgLS1ib2R5LXRlbXBsYXRlLCAtLWdyYXBocWwsIC0tc29hcCwgLS1mb3JtLCBvciAtLXBhcnQgd2l0aCAtLXBhcnQtZmlsZScsXG4gICAgfSk7XG4gIH1cbiAgaWYgKHZhcmlhYmxlcyAmJiBncmFwaHFsID09PSB1bmRlZmluZWQpXG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ3VzYWdlJywgeyB3aGF0OiAnLS12YXJpYWJsZSBnb2VzIHdpdGggLS1ncmFwaHFsJywgcmVtZWR5OiAnLS1ncmFwaHFsIERPQ1VNRU5UJyB9KTtcbiAgaWYgKHNvYXBBY3Rpb24gIT09IHVuZGVmaW5lZCAmJiBzb2FwID09PSB1bmRlZmluZWQpXG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ3VzYWdlJywgeyB3aGF0OiAnLS1zb2FwLWFjdGlvbiBnb2VzIHdpdGggLS1zb2FwJywgcmVtZWR5OiAnLS1zb2FwIEVOVkVMT1BFJyB9KTtcbiAgaWYgKHRlbXBsYXRlICE9PSB1bmRlZmluZWQpIHJldHVybiB7IHRlbXBsYXRlIH07XG4gIGlmICh4bWwgIT09IHVuZGVmaW5lZCkgcmV0dXJuIHsgeG1sOiBlc2NhcGVkKHhtbCkgfTtcbiAgaWYgKGdyYXBocWwgIT09IHVuZGVmaW5lZCkge1xuICAgIGNvbnN0IG5hbWVkID0gcGFpcnModmFyaWFibGVzID8/IFtdLCAnPScsICctLXZhcmlhYmxlIE5BTUU9VkFMVUUnLCBqc29uT3JUZXh0KTtcbiAgICByZXR1cm4geyBncmFwaHFsOiB7IGRvY3VtZW50OiBlc2NhcGVkKGdyYXBocWwpLCAuLi4odmFyaWFibGVzICYmIHsgdmFyaWFibGVzOiBuYW1lZCB9KSB9IH07XG4gIH1cbiAgaWYgKHNvYXAgIT09IHVuZGVmaW5lZCkgcmV0dXJuIHsgc29hcDogeyBlbnZlbG9wZTogZXNjYXBlZChzb2FwKSwgLi4uKHNvYXBBY3Rpb24gJiYgeyBhY3Rpb246IHNvYXBBY3Rpb24gfSkgfSB9O1xuICBpZiAoanNvbiAhPT0gdW5kZWZpbmVkKSByZXR1cm4geyBqc29uOiBsaXRlcmFsKHBhcnNlZEJvZHkoanNvbikpIH07XG4gIGlmICh0ZXh0ICE9PSB1bmRlZmluZWQpIHJldHVybiB7IHRleHQ6IGVzY2FwZWQodGV4dCkgfTtcbiAgaWYgKGZpbGUgIT09IHVuZGVmaW5lZCkgcmV0dXJuIHsgZmlsZTogZXNjYXBlZChmaWxlKSB9O1xuICBpZiAoZm9ybSAhPT0gdW5kZWZpbmVkKSByZXR1cm4geyBmb3JtOiBwYWlycyhmb3JtLCAnPScsICctLWZvcm0gTkFNRT1WQUxVRScpIH07XG4gIGlmICghbXVsdGlwYXJ0KSByZXR1cm4gdW5kZWZpbmVkO1xuICBjb25zdCBmaWxlcyA9IE9iamVjdC5lbnRyaWVzKHBhaXJzKHBhcnRGaWxlcyA/PyBbXSwgJz0nLCAnLS1wYXJ0LWZpbGUgTkFNRT1QQVRIJykpLm1hcCgoW25hbWUsIHBhdGhzXSkgPT4ge1xuICAgIGNvbnN0IGFsbCA9IFtwYXRoc10uZmxhdCgpLm1hcCgocGF0aCkgPT4gKHsgZmlsZTogcGF0aCB9KSk7XG4gICAgcmV0dXJuIFtuYW1lLCBhbGwubGVuZ3RoID09PSAxID8gYWxsWzBdIDogYWxsXSBhcyBjb25zdDtcbiAgfSk7XG4gIHJldHVybiB7IHBhcnRzOiB7IC4uLnBhaXJzKHBhcnRzID8/IFtdLCAnPScsICctLXBhcnQgTkFNRT1WQUxVRScpLCAuLi5PYmplY3QuZnJvbUVudHJpZXMoZmlsZXMpIH0gfTtcbn1cblxuLyoqIGAyYCwgYHRydWVgIGFuZCBge1wiY29kZVwiOiBcIk4xXCJ9YCBhcmUgd2hhdCB0aGV5IHNheSBpbiBKU09OOyBhbnl0aGluZyBlbHNlIGlzIHRleHQuICovXG5mdW5jdGlvbiBqc29uT3JUZXh0KHRleHQ6IHN0cmluZyk6IFZhbHVlIHtcbiAgdHJ5IHtcbiAgICByZXR1cm4gbGl0ZXJhbChKU09OLnBhcnNlKHRleHQpIGFzIFZhbHVlKTtcbiAgfSBjYXRjaCB7XG4gICAgcmV0dXJuIGVzY2FwZWQodGV4dCk7XG4gIH1cbn1cblxuZnVuY3Rpb24gcGFyc2VkQm9keSh0ZXh0OiBzdHJpbmcpOiBWYWx1ZSB7XG4gIHRyeSB7XG4gICAgcmV0dXJuIEpTT04ucGFyc2UodGV4dCkgYXMgVmFsdWU7XG4gIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ3VzYWdlJywge1xuICAgICAgd2hhdDogJy0tYm9keS1qc29uIGlzIG5vdCBKU09OJyxcbiAgICAgIGNhdXNlOiAoZXJyb3IgYXMgRXJyb3IpLm1lc3NhZ2UsXG4gICAgICByZW1lZHk6ICdxdW90ZSBpdCBmb3IgdGhlIHNoZWxsOiAtLWJvZHktanNvbiBcXCd7XCJuaWdodHNcIjogMn1cXCcnLFxuICAgIH0pO1xuICB9XG59XG5cbmZ1bmN0aW9uIGxpdGVyYWwodmFsdWU6IFZhbHVlKTogVmFsdWUge1xuICBpZiAodHlwZW9mIHZhbHVlID09PSAnc3RyaW5nJykgcmV0dXJuIGVzY2FwZWQodmFsdWUpO1xuICBpZiAoQXJyYXkuaXNBcnJheSh2YWx1ZSkpIHJldHVybiB2YWx1ZS5tYXAobGl0ZXJhbCk7XG4gIGlmICh0eXBlb2YgdmFsdWUgIT09ICdvYmplY3QnIHx8IHZhbHVlID09PSBudWxsKSByZXR1cm4gdmFsdWU7XG4gIHJldHVybiBPYmplY3QuZnJvbUVudHJpZXMoT2JqZWN0LmVudHJpZXModmFsdWUgYXMgUmVjb3JkPHN0cmluZywgVmFsdWU+KS5tYXAoKFtrZXksIGl0ZW1dKSA9PiBba2V5LCBsaXRlcmFsKGl0ZW0pXSkpO1xufVxuXG4vKiogTm90aGluZyBvbiB0aGUgY29tbWFuZCBsaW5lIGlzIGFuIGV4cHJlc3Npb24uICovXG5jb25zdCBlc2NhcGVkID0gKHRleHQ6IHN0cmluZyk6IHN0cmluZyA9PiB0ZXh0LnJlcGxhY2VBbGwoJyR7JywgKCkgPT4gJyQkeycpO1xuIiwgIi8qKiBUaGUgdmlld3Mgb2YgYW4gYW5zd2VyOiBsYWlkIG91dCwgYXMgaXQgY2FtZSwgaXRzIGhlYWRlciBsaW5lcywgaXRzIG91dGxpbmUsIGEgdGFibGUsIG9yIG5vdGhpbmcgb2YgaXQuICovXG5pbXBvcnQgeyBjcmVhdGVIYXNoIH0gZnJvbSAnbm9kZTpjcnlwdG8nO1xuaW1wb3J0IHR5cGUgeyBSZWNlaXZlZCB9IGZyb20gJy4uLy4uL2NvcmUvZXhjaGFuZ2UvcmVjZWl2ZWQuanMnO1xuaW1wb3J0IHsgaGlkZGVuLCB0eXBlIFdpcmVSZXF1ZXN0IH0gZnJvbSAnLi4vLi4vY29yZS9leGNoYW5nZS93aXJlLmpzJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9jb3JlL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBzaXplVGV4dCB9IGZyb20gJy4uLy4uL2NvcmUvdmFsdWUvbWVhc3VyZXMuanMnO1xuaW1wb3J0IHsgY2VsbEluLCBjZWxsVGV4dCwgY29sdW1uc0luLCB0eXBlIEZvdW5kTGlzdCwgbGlzdHNJbiB9IGZyb20gJy4uLy4uL2NvcmUvdmFsdWUvcm93cy5qcyc7XG5pbXBvcnQgeyBpc1ZhbHVlTWFwLCB0eXBlT2YsIHR5cGUgVmFsdWUgfSBmcm9tICcuLi8uLi9jb3JlL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHR5cGUgeyBDb2xvdXJzLCBUZXJtaW5hbCB9IGZyb20gJy4uL3Rlcm1pbmFsLmpzJztcbmltcG9ydCB7IGhlYWRlckxpbmVzIH0gZnJvbSAnLi9leGNoYW5nZS5qcyc7XG5pbXBvcnQgeyBjb2xvdXJlZEpzb24gfSBmcm9tICcuL2pzb24uanMnO1xuaW1wb3J0IHsgcHJpbnRhYmxlLCBwcmludGFibGVMaW5lIH0gZnJvbSAnLi9wcmludGFibGUuanMnO1xuaW1wb3J0IHsgdGFibGUgfSBmcm9tICcuL3RhYmxlLmpzJztcblxuZXhwb3J0IGNvbnN0IHZpZXdzID0gWydwcmV0dHknLCAncmF3JywgJ2hlYWRlcnMnLCAnb3V0bGluZScsICd0YWJsZScsICdub25lJ10gYXMgY29uc3Q7XG5leHBvcnQgdHlwZSBWaWV3ID0gKHR5cGVvZiB2aWV3cylbbnVtYmVyXTtcblxudHlwZSBIaWRlID0gKHRleHQ6IHN0cmluZykgPT4gc3RyaW5nO1xuXG4vKiogV2hhdCBhIHRhYmxlIHNob3dzLiAqL1xuZXhwb3J0IGludGVyZmFjZSBUYWJsZVdpc2gge1xuICAvKiogSlNPTlBhdGggb2YgdGhlIGxpc3Q7IGVsc2UgdGhlIGxhcmdlc3QgbGlzdCBvZiBtYXBzLiAqL1xuICByZWFkb25seSByb3dzOiAoKHJlY2VpdmVkOiBSZWNlaXZlZCkgPT4gVmFsdWUgfCB1bmRlZmluZWQpIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSByb3dzVGV4dDogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICAvKiogUGF0aHMgaW4gYW4gaXRlbSwgYnkgdGhlIG5hbWUgb2YgdGhlIGNvbHVtbjsgZWxzZSB0aG9zZSB0aGF0IGFyZSBmb3VuZC4gKi9cbiAgcmVhZG9ubHkgY29sdW1uczogUmVhZG9ubHlNYXA8c3RyaW5nLCBzdHJpbmc+IHwgdW5kZWZpbmVkO1xuICByZWFkb25seSBtb3N0OiBudW1iZXI7XG59XG5cbi8qKiBKU09OIGxhaWQgb3V0LCB0ZXh0IGFzIGl0IGlzLCBieXRlcyBieSB0eXBlLCBzaXplLCBkaWdlc3QgYW5kIHRoZWlyIGJlZ2lubmluZy4gU2VjcmV0cyBoaWRkZW4uICovXG5leHBvcnQgZnVuY3Rpb24gcHJldHR5VGV4dChyZWNlaXZlZDogUmVjZWl2ZWQsIGNvbG91cnM6IENvbG91cnMsIGhpZGU6IEhpZGUpOiBzdHJpbmcge1xuICBpZiAocmVjZWl2ZWQuc2l6ZSA9PT0gMCB8fCByZWNlaXZlZC5wYXJ0cy5ib2R5Lmxlbmd0aCA9PT0gMCkgcmV0dXJuICcnO1xuICBpZiAoIXJlY2VpdmVkLnRleHR1YWwpIHJldHVybiBieXRlc1RleHQocmVjZWl2ZWQsIGNvbG91cnMpO1xuICBpZiAocmVjZWl2ZWQuY2xhaW1zSnNvbiB8fCAvXlxccypbe1tdLy50ZXN0KHJlY2VpdmVkLnRleHQpKSB7XG4gICAgdHJ5IHtcbiAgICAgIHJldHVybiBjb2xvdXJlZEpzb24ocmVjZWl2ZWQuanNvbigpLCBjb2xvdXJzLCBoaWRlKTtcbiAgICB9IGNhdGNoIHtcbiAgICAgIC8vIFNob3duIGFzIGl0IGNhbWU6IHdoYXQgaXMgd3Jvbmcgd2l0aCBpdCBpcyBzYWlkIGVsc2V3aGVyZS5cbiAgICB9XG4gIH1cbiAgY29uc3QgdGV4dCA9IHByaW50YWJsZShoaWRlKHJlY2VpdmVkLnRleHQpKTtcbiAgcmV0dXJuIC9bLytdeG1sJC8udGVzdChyZWNlaXZlZC5tZWRpYVR5cGUpID8gbGFpZE91dCh0ZXh0KSA6IHRleHQ7XG59XG5cbi8qKiBFbGVtZW50cyBvbiBsaW5lcyBvZiB0aGVpciBvd24gd2hlcmUgdGhlIGRvY3VtZW50IGhhcyBub25lOyB0ZXh0IGlzIGxlZnQgYXMgaXQgc3RhbmRzLiAqL1xuZnVuY3Rpb24gbGFpZE91dCh4bWw6IHN0cmluZyk6IHN0cmluZyB7XG4gIGlmICgvPlxccypcXG5cXHMqPC8udGVzdCh4bWwpKSByZXR1cm4geG1sLnRyaW1FbmQoKTtcbiAgbGV0IGRlcHRoID0gMDtcbiAgcmV0dXJuIHhtbFxuICAgIC5yZXBsYWNlKC8+XFxzKjwvZywgJz5cXG48JylcbiAgICAuc3BsaXQoJ1xcbicpXG4gICAgLm1hcCgobGluZSkgPT4ge1xuICAgICAgaWYgKC9ePFxcLy8udGVzdChsaW5lKSkgZGVwdGggPSBNYXRoLm1heCgwLCBkZXB0aCAtIDEpO1xuICAgICAgY29uc3Qgc2hvd24gPSAnICAnLnJlcGVhdChkZXB0aCkgKyBsaW5lO1xuICAgICAgaWYgKC9ePFteIT8vXVtePl0qW14vXT4kLy50ZXN0KGxpbmUpIHx8IC9ePFteIT8vXT4kLy50ZXN0KGxpbmUpKSBkZXB0aCArPSAxO1xuICAgICAgcmV0dXJuIHNob3duO1xuICAgIH0pXG4gICAgLmpvaW4oJ1xcbicpO1xufVxuXG5jb25zdCBzaG93bkJ5dGVzID0gMTI4O1xuXG4vKiogVHlwZSwgc2l6ZSwgU0hBLTI1NiwgYW5kIHRoZSBmaXJzdCBieXRlcyBpbiBoZXggYW5kIGFzIHRleHQuICovXG5mdW5jdGlvbiBieXRlc1RleHQoeyBwYXJ0czogeyBib2R5IH0sIG1lZGlhVHlwZSB9OiBSZWNlaXZlZCwgY29sb3VyczogQ29sb3Vycyk6IHN0cmluZyB7XG4gIGNvbnN0IGRpZ2VzdCA9IGNyZWF0ZUhhc2goJ3NoYTI1NicpLnVwZGF0ZShib2R5KS5kaWdlc3QoJ2hleCcpO1xuICBjb25zdCBsaW5lcyA9IFtgJHttZWRpYVR5cGUgfHwgJ2J5dGVzJ30sICR7c2l6ZVRleHQoYm9keS5sZW5ndGgpfSwgU0hBLTI1NiAke2RpZ2VzdH1gXTtcbiAgZm9yIChsZXQgYXQgPSAwOyBhdCA8IE1hdGgubWluKGJvZHkubGVuZ3RoLCBzaG93bkJ5dGVzKTsgYXQgKz0gMTYpIHtcbiAgICBjb25zdCByb3cgPSBbLi4uYm9keS5zdWJhcnJheShhdCwgTWF0aC5taW4oYXQgKyAxNiwgc2hvd25CeXRlcykpXTtcbiAgICBjb25zdCBoZXggPSByb3cubWFwKChieXRlKSA9PiBieXRlLnRvU3RyaW5nKDE2KS5wYWRTdGFydCgyLCAnMCcpKS5qb2luKCcgJyk7XG4gICAgY29uc3QgdGV4dCA9IHJvdy5tYXAoKGJ5dGUpID0+IChieXRlID49IDB4MjAgJiYgYnl0ZSA8IDB4N2YgPyBTdHJpbmcuZnJvbUNoYXJDb2RlKGJ5dGUpIDogJy4nKSkuam9pbignJyk7XG4gICAgbGluZXMucHVzaChgJHtjb2xvdXJzLmRpbShhdC50b1N0cmluZygxNikucGFkU3RhcnQoOCwgJzAnKSl9ICAke2hleC5wYWRFbmQoNDcpfSAgJHt0ZXh0fWApO1xuICB9XG4gIGlmIChib2R5Lmxlbmd0aCA+IHNob3duQnl0ZXMpIGxpbmVzLnB1c2goY29sb3Vycy5kaW0oYGFuZCAke2JvZHkubGVuZ3RoIC0gc2hvd25CeXRlc30gYnl0ZXMgbW9yZWApKTtcbiAgcmV0dXJuIGxpbmVzLmpvaW4oJ1xcbicpO1xufVxuXG4vKiogVGhlIGxpbmVzIHRoYXQgbGVmdCwgdGhvc2UgbWFkZSBieSB0aGUgdG9vbCBtYXJrZWQ7IGFuZCB0aG9zZSB0aGF0IGNhbWUsIHRyYWlsZXJzIGFuZCBoaW50cyBpbmNsdWRlZC4gKi9cbmV4cG9ydCBmdW5jdGlvbiBoZWFkZXJzVGV4dCh3aXJlOiBXaXJlUmVxdWVzdCwgcmVjZWl2ZWQ6IFJlY2VpdmVkIHwgdW5kZWZpbmVkLCB0ZXJtaW5hbDogVGVybWluYWwsIGhpZGU6IEhpZGUpOiBzdHJpbmcge1xuICBjb25zdCB7IG91dCB9ID0gdGVybWluYWw7XG4gIGNvbnN0IHNlbnQgPSB0YWJsZShcbiAgICB3aXJlLmhlYWRlcnMubWFwKCh7IG5hbWUsIHZhbHVlLCBvcmlnaW4sIHNlY3JldCB9KSA9PiBbXG4gICAgICBvdXQuY3lhbihwcmludGFibGVMaW5lKG5hbWUpKSxcbiAgICAgIHNlY3JldCA/IGhpZGRlbiA6IGhpZGUocHJpbnRhYmxlTGluZSh2YWx1ZSkpLFxuICAgICAgb3V0LmRpbShvcmlnaW4pLFxuICAgIF0pLFxuICAgIHRlcm1pbmFsLFxuICAgIHsgaW5kZW50OiAyLCBmbGV4aWJsZTogWzFdIH0sXG4gICk7XG4gIGNvbnN0IGJsb2NrcyA9IFtgJHtvdXQuYm9sZCgnc2VudCcpfSAgJHt3aXJlLm1ldGhvZH0gJHtwcmludGFibGVMaW5lKGhpZGUod2lyZS5zaG93blVybCkpfVxcbiR7c2VudH1gXTtcbiAgaWYgKHJlY2VpdmVkKSB7XG4gICAgY29uc3QgeyBoaW50cywgdHJhaWxlcnMsIHRscywgcHJvdG9jb2wsIHJlbW90ZUFkZHJlc3MgfSA9IHJlY2VpdmVkLnBhcnRzO1xuICAgIGZvciAoY29uc3QgeyBzdGF0dXMsIGhlYWRlcnMgfSBvZiBoaW50cylcbiAgICAgIGJsb2Nrcy5wdXNoKGAke291dC5ib2xkKGBoaW50ICR7c3RhdHVzfWApfVxcbiR7aGVhZGVyTGluZXMoaGVhZGVycywgdGVybWluYWwsIGhpZGUpfWApO1xuICAgIGJsb2Nrcy5wdXNoKFxuICAgICAgYCR7b3V0LmJvbGQoJ3JlY2VpdmVkJyl9ICAke3Byb3RvY29sfSR7cmVtb3RlQWRkcmVzcyA9PT0gdW5kZWZpbmVkID8gJycgOiBgIGZyb20gJHtyZW1vdGVBZGRyZXNzfWB9XFxuJHtoZWFkZXJMaW5lcyhyZWNlaXZlZC5oZWFkZXJzLCB0ZXJtaW5hbCwgaGlkZSl9YCxcbiAgICApO1xuICAgIGlmICh0cmFpbGVycy5sZW5ndGggPiAwKSBibG9ja3MucHVzaChgJHtvdXQuYm9sZCgndHJhaWxlcnMnKX1cXG4ke2hlYWRlckxpbmVzKHRyYWlsZXJzLCB0ZXJtaW5hbCwgaGlkZSl9YCk7XG4gICAgaWYgKHRscykge1xuICAgICAgY29uc3QgeyBjZXJ0aWZpY2F0ZSB9ID0gdGxzO1xuICAgICAgY29uc3QgZmFjdHMgPSBbXG4gICAgICAgIFsndmVyc2lvbicsIGAke3Rscy5wcm90b2NvbH0sICR7dGxzLmNpcGhlcn1gXSxcbiAgICAgICAgLi4uKGNlcnRpZmljYXRlXG4gICAgICAgICAgPyBbXG4gICAgICAgICAgICAgIFsnY2VydGlmaWNhdGUnLCBgJHtjZXJ0aWZpY2F0ZS5zdWJqZWN0fSwgZm9yICR7Y2VydGlmaWNhdGUubmFtZXMuam9pbignLCAnKX1gXSxcbiAgICAgICAgICAgICAgWydpc3N1ZXInLCBjZXJ0aWZpY2F0ZS5pc3N1ZXJdLFxuICAgICAgICAgICAgICBbJ2dvb2QnLCBgJHtjZXJ0aWZpY2F0ZS5mcm9tLnNsaWNlKDAsIDEwKX0gdG8gJHtjZXJ0aWZpY2F0ZS51bnRpbC5zbGljZSgwLCAxMCl9YF0sXG4gICAgICAgICAgICAgIFsnU0hBLTI1NicsIGNlcnRpZmljYXRlLmZpbmdlcnByaW50XSxcbiAgICAgICAgICAgIF1cbiAgICAgICAgICA6IFtdKSxcbiAgICAgIF07XG4gICAgICBibG9ja3MucHVzaChcbiAgICAgICAgYCR7b3V0LmJvbGQoJ1RMUycpfVxcbiR7dGFibGUoXG4gICAgICAgICAgZmFjdHMubWFwKChbbmFtZSA9ICcnLCB2YWx1ZSA9ICcnXSkgPT4gW291dC5jeWFuKG5hbWUpLCBwcmludGFibGVMaW5lKHZhbHVlKV0pLFxuICAgICAgICAgIHRlcm1pbmFsLFxuICAgICAgICAgIHsgaW5kZW50OiAyIH0sXG4gICAgICAgICl9YCxcbiAgICAgICk7XG4gICAgfVxuICB9XG4gIHJldHVybiBibG9ja3Muam9pbignXFxuXFxuJyk7XG59XG5cbmNvbnN0IG91dGxpbmVEZXB0aCA9IDY7XG5cbi8qKiBUaGUgc2hhcGUgb2YgSlNPTjoga2V5cyB3aXRoIHR5cGVzLCBsaXN0cyB3aXRoIHRoZWlyIGxlbmd0aCBhbmQgdGhlIHNoYXBlIG9mIHRoZWlyIGZpcnN0IGl0ZW0uICovXG5leHBvcnQgZnVuY3Rpb24gb3V0bGluZVRleHQocmVjZWl2ZWQ6IFJlY2VpdmVkLCB7IG91dCB9OiBUZXJtaW5hbCwgaGlkZTogSGlkZSk6IHN0cmluZyB7XG4gIGNvbnN0IGxpbmVzOiBzdHJpbmdbXSA9IFtdO1xuICBjb25zdCBhZGQgPSAodmFsdWU6IFZhbHVlLCBuYW1lOiBzdHJpbmcsIGRlcHRoOiBudW1iZXIpOiB2b2lkID0+IHtcbiAgICBjb25zdCBtYXJnaW4gPSAnICAnLnJlcGVhdChkZXB0aCk7XG4gICAgaWYgKEFycmF5LmlzQXJyYXkodmFsdWUpKSB7XG4gICAgICBjb25zdCBpdGVtcyA9IHZhbHVlIGFzIHJlYWRvbmx5IFZhbHVlW107XG4gICAgICBsaW5lcy5wdXNoKGAke21hcmdpbn0ke25hbWV9ICAke291dC5kaW0oYGxpc3Qgb2YgJHtpdGVtcy5sZW5ndGh9YCl9YCk7XG4gICAgICBpZiAoaXRlbXMubGVuZ3RoID4gMCAmJiBkZXB0aCA8IG91dGxpbmVEZXB0aCkgYWRkKGl0ZW1zWzBdIGFzIFZhbHVlLCBvdXQuZGltKCdlYWNoJyksIGRlcHRoICsgMSk7XG4gICAgfSBlbHNlIGlmIChpc1ZhbHVlTWFwKHZhbHVlKSkge1xuICAgICAgbGluZXMucHVzaChgJHttYXJnaW59JHtuYW1lfSAgJHtvdXQuZGltKGAke09iamVjdC5rZXlzKHZhbHVlKS5sZW5ndGh9IG1lbWJlcnNgKX1gKTtcbiAgICAgIGlmIChkZXB0aCA8IG91dGxpbmVEZXB0aClcbiAgICAgICAgZm9yIChjb25zdCBba2V5LCBpbm5lcl0gb2YgT2JqZWN0LmVudHJpZXModmFsdWUpKSBhZGQoaW5uZXIsIG91dC5jeWFuKHByaW50YWJsZUxpbmUoa2V5KSksIGRlcHRoICsgMSk7XG4gICAgfSBlbHNlIHtcbiAgICAgIGNvbnN0IHRleHQgPSB0eXBlb2YgdmFsdWUgPT09ICdzdHJpbmcnID8gSlNPTi5zdHJpbmdpZnkodmFsdWUpIDogY2VsbFRleHQodmFsdWUpIHx8ICdudWxsJztcbiAgICAgIGNvbnN0IHNob3duID0gaGlkZSh0ZXh0KTtcbiAgICAgIGxpbmVzLnB1c2goXG4gICAgICAgIGAke21hcmdpbn0ke25hbWV9ICAke291dC5kaW0odHlwZU9mKHZhbHVlKSl9ICAke3ByaW50YWJsZUxpbmUoc2hvd24ubGVuZ3RoID4gNjAgPyBgJHtzaG93bi5zbGljZSgwLCA2MCl9XHUyMDI2YCA6IHNob3duKX1gLFxuICAgICAgKTtcbiAgICB9XG4gIH07XG4gIGFkZChyZWNlaXZlZC5qc29uKCksICckJywgMCk7XG4gIHJldHVybiBsaW5lcy5qb2luKCdcXG4nKTtcbn1cblxuZXhwb3J0IGludGVyZmFjZSBUYWJsZUNvbnRlbnQge1xuICByZWFkb25seSBhdDogc3RyaW5nO1xuICByZWFkb25seSBoZWFkOiByZWFkb25seSBzdHJpbmdbXTtcbiAgcmVhZG9ubHkgaXRlbXM6IHJlYWRvbmx5IFZhbHVlW107XG4gIHJlYWRvbmx5IHBhdGhzOiByZWFkb25seSBzdHJpbmdbXTtcbiAgLyoqIE90aGVyIGxpc3RzIHRoYXQgdGhlIGFuc3dlciBoYXMuICovXG4gIHJlYWRvbmx5IG90aGVyczogcmVhZG9ubHkgRm91bmRMaXN0W107XG59XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gcGxhY2Utbm90LWZvdW5kOiBubyBsaXN0IHRoZXJlLCBvciBub25lIGF0IGFsbCAqL1xuZXhwb3J0IGZ1bmN0aW9uIHRhYmxlQ29udGVudChyZWNlaXZlZDogUmVjZWl2ZWQsIHsgcm93cywgcm93c1RleHQsIGNvbHVtbnMgfTogVGFibGVXaXNoKTogVGFibGVDb250ZW50IHtcbiAgY29uc3QgbGlzdHMgPSBsaXN0c0luKHJlY2VpdmVkLmpzb24oKSk7XG4gIGNvbnN0IHdhbnRlZCA9IHJvd3M/LihyZWNlaXZlZCk7XG4gIGlmIChyb3dzICYmICFBcnJheS5pc0FycmF5KHdhbnRlZCkpIHtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgncGxhY2Utbm90LWZvdW5kJywge1xuICAgICAgd2hhdDogYG5vIGxpc3Qgc3RhbmRzIGF0ICR7cm93c1RleHR9YCxcbiAgICAgIHJlbWVkeTpcbiAgICAgICAgbGlzdHMubGVuZ3RoID4gMFxuICAgICAgICAgID8gYGxpc3RzIGFyZSBhdCAke2xpc3RzXG4gICAgICAgICAgICAgIC5zbGljZSgwLCA1KVxuICAgICAgICAgICAgICAubWFwKCh7IGF0IH0pID0+IGF0KVxuICAgICAgICAgICAgICAuam9pbignLCAnKX1gXG4gICAgICAgICAgOiAndGhlIGFuc3dlciBoYXMgbm8gbGlzdCBvZiBtYXBzJyxcbiAgICB9KTtcbiAgfVxuICBjb25zdCBmaXJzdCA9IGxpc3RzWzBdO1xuICBpZiAoIXJvd3MgJiYgIWZpcnN0KSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ3BsYWNlLW5vdC1mb3VuZCcsIHtcbiAgICAgIHdoYXQ6ICd0aGUgYW5zd2VyIGhhcyBubyBsaXN0IG9mIG1hcHMgdG8gc2hvdyBhcyBhIHRhYmxlJyxcbiAgICAgIHJlbWVkeTogJy0tdmlldyBvdXRsaW5lIHNob3dzIGl0cyBzaGFwZScsXG4gICAgfSk7XG4gIH1cbiAgY29uc3QgaXRlbXMgPSAod2FudGVkIGFzIHJlYWRvbmx5IFZhbHVlW10gfCB1bmRlZmluZWQpID8/IGZpcnN0Py5pdGVtcyA/PyBbXTtcbiAgY29uc3QgcGF0aHMgPSBjb2x1bW5zID8gWy4uLmNvbHVtbnMudmFsdWVzKCldIDogY29sdW1uc0luKGl0ZW1zKTtcbiAgcmV0dXJuIHtcbiAgICBhdDogcm93c1RleHQgPz8gZmlyc3Q/LmF0ID8/ICckJyxcbiAgICBpdGVtcyxcbiAgICBoZWFkOiBjb2x1bW5zID8gWy4uLmNvbHVtbnMua2V5cygpXSA6IHBhdGhzLFxuICAgIHBhdGhzLFxuICAgIG90aGVyczogcm93cyA/IFtdIDogbGlzdHMuc2xpY2UoMSksXG4gIH07XG59XG5cbmV4cG9ydCBmdW5jdGlvbiB0YWJsZVRleHQoeyBoZWFkLCBpdGVtcywgcGF0aHMgfTogVGFibGVDb250ZW50LCBtb3N0OiBudW1iZXIsIHRlcm1pbmFsOiBUZXJtaW5hbCwgaGlkZTogSGlkZSk6IHN0cmluZyB7XG4gIGNvbnN0IHJvd3MgPSBpdGVtc1xuICAgIC5zbGljZSgwLCBtb3N0KVxuICAgIC5tYXAoKGl0ZW0pID0+IHBhdGhzLm1hcCgocGF0aCkgPT4gcHJpbnRhYmxlTGluZShoaWRlKGNlbGxUZXh0KHBhdGggPT09ICcnID8gaXRlbSA6IGNlbGxJbihpdGVtLCBwYXRoKSkpKSkpO1xuICByZXR1cm4gdGFibGUocm93cywgdGVybWluYWwsIHsgaGVhZCwgZmxleGlibGU6IGhlYWQubWFwKChfLCBpbmRleCkgPT4gaW5kZXgpIH0pO1xufVxuIiwgIi8qKlxuICogVGhlIGJvZHkgb2YgYW4gYW5zd2VyIHN0cmFpZ2h0IHRvIGEgZmlsZTogaGVsZCBpbiBgRklMRS5wYXJ0YCB1bnRpbCBpdCBpcyB3aG9sZS4gT25lIHRoYXQgd2FzIGN1dCBzaG9ydCBpcyBnb25lIG9uXG4gKiB3aXRoIHdoZXJlIGl0IGVuZGVkLCBhcyBsb25nIGFzIHRoZSBzZXJ2ZXIgc2F5cyB0aGF0IGl0IGlzIHN0aWxsIHRoZSBzYW1lIChSRkMgOTExMCBzZWN0aW9ucyAxMy4xLjUgYW5kIDE0LjIpLlxuICovXG5pbXBvcnQgeyBvbmNlIH0gZnJvbSAnbm9kZTpldmVudHMnO1xuaW1wb3J0IHtcbiAgY3JlYXRlV3JpdGVTdHJlYW0sXG4gIGV4aXN0c1N5bmMsXG4gIHJlYWRGaWxlU3luYyxcbiAgcmVuYW1lU3luYyxcbiAgcm1TeW5jLFxuICBzdGF0U3luYyxcbiAgdHlwZSBXcml0ZVN0cmVhbSxcbiAgd3JpdGVGaWxlU3luYyxcbn0gZnJvbSAnbm9kZTpmcyc7XG5pbXBvcnQgeyBkaXJuYW1lLCByZXNvbHZlIH0gZnJvbSAnbm9kZTpwYXRoJztcbmltcG9ydCB0eXBlIHsgV3JpdGFibGUgfSBmcm9tICdub2RlOnN0cmVhbSc7XG5pbXBvcnQgeyBmaW5pc2hlZCwgcGlwZWxpbmUgfSBmcm9tICdub2RlOnN0cmVhbS9wcm9taXNlcyc7XG5pbXBvcnQgKiBhcyB6IGZyb20gJ3pvZC9taW5pJztcbmltcG9ydCB7IGRlY29tcHJlc3NvcnMsIHVuZGVjb2RhYmxlIH0gZnJvbSAnLi4vLi4vY29yZS9leGNoYW5nZS9jb21wcmVzc2lvbi5qcyc7XG5pbXBvcnQgdHlwZSB7IFNpbmsgfSBmcm9tICcuLi8uLi9jb3JlL2V4Y2hhbmdlL3NpbmsuanMnO1xuaW1wb3J0IHR5cGUgeyBIZWFkZXJMaW5lIH0gZnJvbSAnLi4vLi4vY29yZS9leGNoYW5nZS93aXJlLmpzJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9jb3JlL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBzaXplVGV4dCB9IGZyb20gJy4uLy4uL2NvcmUvdmFsdWUvbWVhc3VyZXMuanMnO1xuaW1wb3J0IHR5cGUgeyBUZXJtaW5hbCB9IGZyb20gJy4uL3Rlcm1pbmFsLmpzJztcblxuLyoqIEJlZm9yZSBhbnl0aGluZyBpcyBzZW50LiBAdGhyb3dzIFByb2JsZW0gdXNhZ2UgKi9cbmZ1bmN0aW9uIGRlbWFuZFdyaXRhYmxlKHBhdGg6IHN0cmluZyk6IHZvaWQge1xuICBjb25zdCBmb2xkZXIgPSBkaXJuYW1lKHJlc29sdmUocGF0aCkpO1xuICBpZiAoIWV4aXN0c1N5bmMoZm9sZGVyKSkge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCd1c2FnZScsIHtcbiAgICAgIHdoYXQ6IGAtLXRvICR7cGF0aH06IHRoZXJlIGlzIG5vIGZvbGRlciAke2ZvbGRlcn1gLFxuICAgICAgcmVtZWR5OiAnbWFrZSBpdCBmaXJzdCwgb3IgbmFtZSBhbm90aGVyIGZpbGUnLFxuICAgIH0pO1xuICB9XG4gIGlmIChleGlzdHNTeW5jKHBhdGgpICYmICFzdGF0U3luYyhwYXRoKS5pc0ZpbGUoKSlcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgndXNhZ2UnLCB7IHdoYXQ6IGAtLXRvICR7cGF0aH06IHRoYXQgaXMgYSBmb2xkZXJgLCByZW1lZHk6ICduYW1lIGEgZmlsZSBpbiBpdCcgfSk7XG59XG5cbi8qKiBXaGF0IGlzIGtub3duIG9mIGEgcGFydCBvZiBhIGZpbGU6IHdoaWNoIHZlcnNpb24gb2Ygd2hhdCBpdCBpcywgYnkgaXRzIHN0cm9uZyB2YWxpZGF0b3IuICovXG5jb25zdCBwYXJ0RmlsZSA9IHouc3RyaWN0T2JqZWN0KHsgdGFnOiB6LnN0cmluZygpIH0pO1xudHlwZSBQYXJ0ID0gei5pbmZlcjx0eXBlb2YgcGFydEZpbGU+O1xuXG4vKiogV2hlcmUgdGhlIHBpZWNlcyBnbzogc3RyYWlnaHQgdG8gdGhlIGZpbGUsIG9yIHRocm91Z2ggd2hhdCB1bmRvZXMgdGhlaXIgY29kaW5nLiAqL1xuaW50ZXJmYWNlIFdheSB7XG4gIHJlYWRvbmx5IGludG86IFdyaXRhYmxlO1xuICAvKiogU2V0dGxlcyB3aGVuIGFsbCBvZiBpdCBpcyBpbiB0aGUgZmlsZS4gKi9cbiAgcmVhZG9ubHkgd3JpdHRlbjogUHJvbWlzZTx1bmtub3duPjtcbn1cblxuZXhwb3J0IGNsYXNzIEZpbGVTaW5rIGltcGxlbWVudHMgU2luayB7XG4gIHNhdmVkID0gMDtcbiAgcHJpdmF0ZSByZWFkb25seSBwYXJ0OiBzdHJpbmc7XG4gIHByaXZhdGUgcmVhZG9ubHkgbm90ZTogc3RyaW5nO1xuICBwcml2YXRlIGNvZGluZyA9ICcnO1xuICBwcml2YXRlIG91dDogV3JpdGVTdHJlYW0gfCB1bmRlZmluZWQ7XG4gIHByaXZhdGUgd2F5OiBXYXkgfCB1bmRlZmluZWQ7XG4gIHByaXZhdGUgZmFpbHVyZTogUHJvYmxlbSB8IHVuZGVmaW5lZDtcbiAgcHJpdmF0ZSBhbm5vdW5jZWQgPSAwO1xuXG4gIGNvbnN0cnVjdG9yKFxuICAgIHByaXZhdGUgcmVhZG9ubHkgcGF0aDogc3RyaW5nLFxuICAgIHByaXZhdGUgcmVhZG9ubHkgdGVybWluYWw6IFRlcm1pbmFsLFxuICApIHtcbiAgICBkZW1hbmRXcml0YWJsZShwYXRoKTtcbiAgICB0aGlzLnBhcnQgPSBgJHtwYXRofS5wYXJ0YDtcbiAgICB0aGlzLm5vdGUgPSBgJHtwYXRofS5wYXJ0Lmpzb25gO1xuICB9XG5cbiAgLyoqIEFza3MgZm9yIHRoZSByZXN0IHdoZXJlIGEgcGFydCBpcyB0aGVyZS4gKi9cbiAgZ2V0IGxpbmVzKCk6IHJlYWRvbmx5IEhlYWRlckxpbmVbXSB7XG4gICAgY29uc3Qga25vd24gPSB0aGlzLmtub3duKCk7XG4gICAgaWYgKCFrbm93bikgcmV0dXJuIFtdO1xuICAgIGNvbnN0IGxpbmUgPSAobmFtZTogc3RyaW5nLCB2YWx1ZTogc3RyaW5nKTogSGVhZGVyTGluZSA9PiAoeyBuYW1lLCB2YWx1ZSwgb3JpZ2luOiAnLS10bycsIHNlY3JldDogZmFsc2UgfSk7XG4gICAgcmV0dXJuIFtsaW5lKCdSYW5nZScsIGBieXRlcz0ke3N0YXRTeW5jKHRoaXMucGFydCkuc2l6ZX0tYCksIGxpbmUoJ0lmLVJhbmdlJywga25vd24udGFnKV07XG4gIH1cblxuICBwcml2YXRlIGtub3duKCk6IFBhcnQgfCB1bmRlZmluZWQge1xuICAgIGlmICghZXhpc3RzU3luYyh0aGlzLnBhcnQpIHx8ICFleGlzdHNTeW5jKHRoaXMubm90ZSkpIHJldHVybiB1bmRlZmluZWQ7XG4gICAgdHJ5IHtcbiAgICAgIHJldHVybiBzdGF0U3luYyh0aGlzLnBhcnQpLnNpemUgPiAwID8gcGFydEZpbGUucGFyc2UoSlNPTi5wYXJzZShyZWFkRmlsZVN5bmModGhpcy5ub3RlLCAndXRmOCcpKSkgOiB1bmRlZmluZWQ7XG4gICAgfSBjYXRjaCB7XG4gICAgICByZXR1cm4gdW5kZWZpbmVkO1xuICAgIH1cbiAgfVxuXG4gIGJlZ2luKHN0YXR1czogbnVtYmVyLCBoZWFkZXJzOiByZWFkb25seSAocmVhZG9ubHkgW3N0cmluZywgc3RyaW5nXSlbXSk6ICdpbnN0ZWFkJyB8ICdub3RoaW5nJyB7XG4gICAgaWYgKHN0YXR1cyAhPT0gMjAwICYmIHN0YXR1cyAhPT0gMjA2KSByZXR1cm4gJ25vdGhpbmcnO1xuICAgIGNvbnN0IGhlYWRlciA9IChuYW1lOiBzdHJpbmcpOiBzdHJpbmcgfCB1bmRlZmluZWQgPT4gaGVhZGVycy5maW5kKChba2V5XSkgPT4ga2V5LnRvTG93ZXJDYXNlKCkgPT09IG5hbWUpPy5bMV07XG4gICAgY29uc3QgYmVmb3JlID0gc3RhdHVzID09PSAyMDYgJiYgZXhpc3RzU3luYyh0aGlzLnBhcnQpID8gc3RhdFN5bmModGhpcy5wYXJ0KS5zaXplIDogMDtcbiAgICBjb25zdCBbLCBmcm9tXSA9IC9eYnl0ZXMgKFxcZCspLS8uZXhlYyhoZWFkZXIoJ2NvbnRlbnQtcmFuZ2UnKSA/PyAnJykgPz8gW107XG4gICAgaWYgKHN0YXR1cyA9PT0gMjA2ICYmIE51bWJlcihmcm9tKSAhPT0gYmVmb3JlKSByZXR1cm4gJ25vdGhpbmcnO1xuICAgIHRoaXMuY29kaW5nID0gaGVhZGVyKCdjb250ZW50LWVuY29kaW5nJykgPz8gJyc7XG4gICAgY29uc3QgdGFnID0gaGVhZGVyKCdldGFnJyk7XG4gICAgLy8gQSB3ZWFrIHZhbGlkYXRvciBkb2VzIG5vdCBwcm9taXNlIHRoZSBzYW1lIGJ5dGVzLlxuICAgIGlmICh0YWcgIT09IHVuZGVmaW5lZCAmJiAhdGFnLnN0YXJ0c1dpdGgoJ1cvJykgJiYgdGhpcy5jb2RpbmcgPT09ICcnKSB7XG4gICAgICB3cml0ZUZpbGVTeW5jKHRoaXMubm90ZSwgSlNPTi5zdHJpbmdpZnkoeyB0YWcgfSBzYXRpc2ZpZXMgUGFydCkpO1xuICAgIH0gZWxzZSBybVN5bmModGhpcy5ub3RlLCB7IGZvcmNlOiB0cnVlIH0pO1xuICAgIHRoaXMuc2F2ZWQgPSBiZWZvcmU7XG4gICAgdGhpcy5hbm5vdW5jZWQgPSB0aGlzLmNvZGluZyA9PT0gJycgPyBiZWZvcmUgKyBOdW1iZXIoaGVhZGVyKCdjb250ZW50LWxlbmd0aCcpID8/IDApIDogMDtcbiAgICB0aGlzLm91dCA9IGNyZWF0ZVdyaXRlU3RyZWFtKHRoaXMucGFydCwgeyBmbGFnczogYmVmb3JlID4gMCA/ICdhJyA6ICd3JyB9KTtcbiAgICB0aGlzLm91dC5vbignZXJyb3InLCAoeyBtZXNzYWdlIH0pID0+IHtcbiAgICAgIHRoaXMuZmFpbHVyZSA/Pz0gbmV3IFByb2JsZW0oJ2ZpbGUtdW5yZWFkYWJsZScsIHtcbiAgICAgICAgd2hhdDogYHRoZSBhbnN3ZXIgY291bGQgbm90IGJlIHdyaXR0ZW4gdG8gJHt0aGlzLnBhdGh9YCxcbiAgICAgICAgY2F1c2U6IG1lc3NhZ2UsXG4gICAgICB9KTtcbiAgICB9KTtcbiAgICByZXR1cm4gJ2luc3RlYWQnO1xuICB9XG5cbiAgLyoqIEhvdyB0aGUgZmlyc3QgcGllY2UgYmVnaW5zIHRlbGxzIGhvdyBzb21lIGNvZGluZ3MgYXJlIHVuZG9uZS4gKi9cbiAgcHJpdmF0ZSB3YXlGcm9tKGZpcnN0OiBCdWZmZXIpOiBXYXkge1xuICAgIGNvbnN0IG91dCA9IHRoaXMub3V0IGFzIFdyaXRlU3RyZWFtO1xuICAgIGNvbnN0IHN0ZXBzID0gZGVjb21wcmVzc29ycyhmaXJzdCwgdGhpcy5jb2RpbmcpO1xuICAgIGNvbnN0IFtpbnRvXSA9IHN0ZXBzO1xuICAgIGNvbnN0IHdyaXR0ZW4gPSBpbnRvID8gcGlwZWxpbmUoWy4uLnN0ZXBzLCBvdXRdKSA6IGZpbmlzaGVkKG91dCk7XG4gICAgc3RlcHMuYXQoLTEpPy5vbignZGF0YScsIChjaHVuazogQnVmZmVyKSA9PiB7XG4gICAgICB0aGlzLnNhdmVkICs9IGNodW5rLmxlbmd0aDtcbiAgICB9KTtcbiAgICB3cml0dGVuLmNhdGNoKChlcnJvcjogRXJyb3IpID0+IHtcbiAgICAgIHRoaXMuZmFpbHVyZSA/Pz0gdW5kZWNvZGFibGUodGhpcy5jb2RpbmcsIGVycm9yKTtcbiAgICB9KTtcbiAgICByZXR1cm4geyBpbnRvOiBpbnRvID8/IG91dCwgd3JpdHRlbiB9O1xuICB9XG5cbiAgd3JpdGUoY2h1bms6IEJ1ZmZlcik6IFByb21pc2U8dm9pZD4gfCB1bmRlZmluZWQge1xuICAgIGlmICh0aGlzLmZhaWx1cmUpIHJldHVybiBQcm9taXNlLnJlamVjdCh0aGlzLmZhaWx1cmUpO1xuICAgIHRyeSB7XG4gICAgICB0aGlzLndheSA/Pz0gdGhpcy53YXlGcm9tKGNodW5rKTtcbiAgICB9IGNhdGNoIChlcnJvcikge1xuICAgICAgcmV0dXJuIFByb21pc2UucmVqZWN0KGVycm9yKTtcbiAgICB9XG4gICAgY29uc3QgeyBpbnRvIH0gPSB0aGlzLndheTtcbiAgICBpZiAoaW50byA9PT0gdGhpcy5vdXQpIHRoaXMuc2F2ZWQgKz0gY2h1bmsubGVuZ3RoO1xuICAgIHRoaXMudGVybWluYWwucHJvZ3Jlc3MoXG4gICAgICBgc2F2ZWQgJHtzaXplVGV4dCh0aGlzLnNhdmVkKX0ke3RoaXMuYW5ub3VuY2VkID4gMCA/IGAgb2YgJHtzaXplVGV4dCh0aGlzLmFubm91bmNlZCl9YCA6ICcnfWAsXG4gICAgKTtcbiAgICBpZiAoaW50by53cml0ZShjaHVuaykpIHJldHVybiB1bmRlZmluZWQ7XG4gICAgcmV0dXJuIG9uY2UoaW50bywgJ2RyYWluJykudGhlbihcbiAgICAgICgpID0+IHVuZGVmaW5lZCxcbiAgICAgIChlcnJvcjogRXJyb3IpID0+IFByb21pc2UucmVqZWN0KHRoaXMuZmFpbHVyZSA/PyBlcnJvciksXG4gICAgKTtcbiAgfVxuXG4gIC8qKlxuICAgKiBAcGFyYW0gd2hvbGUgZmFsc2Ugd2hlcmUgdGhlIGFuc3dlciB3YXMgY3V0IHNob3J0OiB0aGUgcGFydCBzdGF5cywgdG8gYmUgZ29uZSBvbiB3aXRoXG4gICAqIEByZXR1cm5zIHdoZXRoZXIgdGhlIGZpbGUgaXMgdGhlcmUgbm93OyB1bmRlZmluZWQgd2hlcmUgdGhlIGJvZHkgd2FzIG5vbmUgdG8gc2F2ZVxuICAgKiBAdGhyb3dzIFByb2JsZW0gZmlsZS11bnJlYWRhYmxlLCBhbnN3ZXItZW5jb2RpbmdcbiAgICovXG4gIGFzeW5jIGZpbmlzaCh3aG9sZTogYm9vbGVhbik6IFByb21pc2U8Ym9vbGVhbiB8IHVuZGVmaW5lZD4ge1xuICAgIGlmICghdGhpcy5vdXQpIHJldHVybiB1bmRlZmluZWQ7XG4gICAgY29uc3QgeyBpbnRvLCB3cml0dGVuIH0gPSB0aGlzLndheSA/PyB7IGludG86IHRoaXMub3V0LCB3cml0dGVuOiBmaW5pc2hlZCh0aGlzLm91dCkgfTtcbiAgICBpbnRvLmVuZCgpO1xuICAgIGF3YWl0IHdyaXR0ZW4uY2F0Y2goKCkgPT4gdW5kZWZpbmVkKTtcbiAgICB0aGlzLnRlcm1pbmFsLnByb2dyZXNzKCcnKTtcbiAgICBpZiAoIXdob2xlKSByZXR1cm4gZmFsc2U7XG4gICAgaWYgKHRoaXMuZmFpbHVyZSkgdGhyb3cgdGhpcy5mYWlsdXJlO1xuICAgIHJlbmFtZVN5bmModGhpcy5wYXJ0LCB0aGlzLnBhdGgpO1xuICAgIHJtU3luYyh0aGlzLm5vdGUsIHsgZm9yY2U6IHRydWUgfSk7XG4gICAgcmV0dXJuIHRydWU7XG4gIH1cbn1cbiIsICIvKiogV2hhdCBpcyBhc2tlZCBvZiBhbiBhbnN3ZXI6IHRoZSBvcHRpb25zIHRoYXQgYHNlbmRgIGFuZCBgZm9sbG93YCBzaGFyZSwgYW5kIHRoZSB0YWJsZSBvZiB0aGUgcmVxdWVzdC4gKi9cbmltcG9ydCB0eXBlIHsgQ29tbWFuZCB9IGZyb20gJ2NvbW1hbmRlcic7XG5pbXBvcnQgdHlwZSB7IExvYWRzIH0gZnJvbSAnLi4vLi4vY29yZS9leHByZXNzaW9uL2NvbXBpbGUuanMnO1xuaW1wb3J0IHR5cGUgeyBQbGFjZSB9IGZyb20gJy4uLy4uL2NvcmUvcGxhY2UvcGxhY2UuanMnO1xuaW1wb3J0IHsgcmVhZFBsYWNlIH0gZnJvbSAnLi4vLi4vY29yZS9wbGFjZS9yZWdpc3RyeS5qcyc7XG5pbXBvcnQgeyBuZWFyZXN0SGludCB9IGZyb20gJy4uLy4uL2NvcmUvcHJvYmxlbS9uZWFyZXN0LmpzJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9jb3JlL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgdHlwZSB7IFByZXBhcmVkUmVxdWVzdCB9IGZyb20gJy4uLy4uL2NvcmUvdHJhaWwvcHJlcGFyZS5qcyc7XG5pbXBvcnQgeyBkZW1hbmRUYWJsZUZpbGUgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3RhYmxlLWZpbGUuanMnO1xuaW1wb3J0IHR5cGUgeyBUZXJtaW5hbCB9IGZyb20gJy4uL3Rlcm1pbmFsLmpzJztcbmltcG9ydCB7IHR5cGUgVGFibGVXaXNoLCB0eXBlIFZpZXcsIHZpZXdzIH0gZnJvbSAnLi4vdmlldy9hbnN3ZXIuanMnO1xuaW1wb3J0IHsgd2hvbGVOdW1iZXIgfSBmcm9tICcuLi93aG9sZS1udW1iZXIuanMnO1xuaW1wb3J0IHsgRmlsZVNpbmsgfSBmcm9tICcuL2ZpbGUtc2luay5qcyc7XG5cbi8qKiBPcHRpb25zIHRoYXQgYHNlbmRgIGFuZCBgZm9sbG93YCBzaGFyZS4gKi9cbmV4cG9ydCBmdW5jdGlvbiBhbnN3ZXJPcHRpb25zKGNvbW1hbmQ6IENvbW1hbmQpOiBDb21tYW5kIHtcbiAgcmV0dXJuIGNvbW1hbmRcbiAgICAub3B0aW9uKCctLXNlc3Npb24gPG5hbWU+JywgJ2Fub3RoZXIgc2Vzc2lvbiwgb3Igbm9uZScpXG4gICAgLm9wdGlvbignLS1zaWduIDxuYW1lPicsICdhbm90aGVyIHNpZ25hdHVyZSwgb3Igbm9uZScpXG4gICAgLm9wdGlvbignLS1uby1jb29raWVzJywgJ25laXRoZXIgc2VuZCBjb29raWVzIG5vciBrZWVwIHRob3NlIHRoYXQgY29tZScpXG4gICAgLm9wdGlvbignLS12aWV3IDx2aWV3PicsIGBob3cgdGhlIGFuc3dlciBpcyBzaG93bjogJHt2aWV3cy5qb2luKCcsICcpfWApXG4gICAgLm9wdGlvbignLS1waWNrIDxwbGFjZT4nLCAncHJpbnQgb25lIHZhbHVlIG9mIHRoZSBhbnN3ZXIgYW5kIG5vdGhpbmcgZWxzZScpXG4gICAgLm9wdGlvbignLS1yb3dzIDxwbGFjZT4nLCAndGhlIGxpc3QgdGhhdCBhIHRhYmxlIHNob3dzOyBlbHNlIHRoZSBsYXJnZXN0JylcbiAgICAub3B0aW9uKCctLWNvbHVtbnMgPHBhdGhzPicsICd0aGUgY29sdW1ucyBvZiBhIHRhYmxlLCBzdWNoIGFzIGltbyxuYW1lLGJlcnRoLmNvZGU7IGVsc2UgdGhvc2UgdGhhdCBhcmUgZm91bmQnKVxuICAgIC5vcHRpb24oJy0tbW9zdCA8bnVtYmVyPicsICdzaG93IGF0IG1vc3Qgc28gbWFueSByb3dzIG9mIGEgdGFibGUnLCAnMjAnKVxuICAgIC5vcHRpb24oXG4gICAgICAnLS10byA8ZmlsZT4nLFxuICAgICAgJ3NhdmUgdGhlIGFuc3dlciB0byBhIGZpbGUgYXMgaXQgY29tZXM7IHdpdGggLS12aWV3IHRhYmxlLCB0aGUgd2hvbGUgdGFibGUgYXMgLmNzdiwgLmpzb24gb3IgLmpzb25sJyxcbiAgICApXG4gICAgLm9wdGlvbignLS1wYWdlcyA8bnVtYmVyPicsICdzbyBtYW55IHBhZ2VzIG9mIHRoZSBsaXN0IGFzIG9uZSwgb3IgYWxsIG9mIHRoZW0nKVxuICAgIC5vcHRpb24oJy0tbGl2ZScsICdzaG93IGEgc3RyZWFtIGFzIGl0IGNvbWVzJylcbiAgICAub3B0aW9uKCctLWFjY2VwdC1jZXJ0aWZpY2F0ZScsICd0YWtlIHRoZSBjZXJ0aWZpY2F0ZSBvZiB0aGUgaG9zdCwgd2hvZXZlciBzaWduZWQgaXQsIGFuZCBwaW4gaXQgZm9yIGEgZGF5JylcbiAgICAub3B0aW9uKCctLWFsbG93LWNoYW5nZXMnLCAnc2F5IHllcyB3aGVyZSB0aGUgZW52aXJvbm1lbnQgYXNrcyBiZWZvcmUgYSBjaGFuZ2UnKTtcbn1cblxuZXhwb3J0IGludGVyZmFjZSBXaXNoZXMge1xuICByZWFkb25seSB2aWV3OiBWaWV3O1xuICByZWFkb25seSBwaWNrZWQ6IFBsYWNlIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSB0YWJsZTogVGFibGVXaXNoO1xuICAvKiogQSBmaWxlIGZvciB0aGUgYm9keTsgYSB0YWJsZSBnb2VzIHRvIGl0cyBmaWxlIHdoZW4gaXQgaXMgd2hvbGUuICovXG4gIHJlYWRvbmx5IHNpbms6IEZpbGVTaW5rIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSB0bzogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSBsaXZlOiBib29sZWFuO1xufVxuXG4vKiogQHRocm93cyBQcm9ibGVtIHVzYWdlLCBwbGFjZS1zeW50YXggKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiB3aXNoZXNPZihcbiAgb3B0aW9uczogUmVjb3JkPHN0cmluZywgdW5rbm93bj4sXG4gIHByZXBhcmVkOiBQcmVwYXJlZFJlcXVlc3QsXG4gIHRlcm1pbmFsOiBUZXJtaW5hbCxcbik6IFByb21pc2U8V2lzaGVzPiB7XG4gIGNvbnN0IG93biA9IHByZXBhcmVkLnBsYW4uY29udGVudC50YWJsZTtcbiAgY29uc3Qgcm93c1RleHQgPSAob3B0aW9ucy5yb3dzIGFzIHN0cmluZyB8IHVuZGVmaW5lZCkgPz8gb3duPy5yb3dzO1xuICBjb25zdCB3YW50c1RhYmxlID0gb3duICE9PSB1bmRlZmluZWQgfHwgb3B0aW9ucy5yb3dzICE9PSB1bmRlZmluZWQgfHwgb3B0aW9ucy5jb2x1bW5zICE9PSB1bmRlZmluZWQ7XG4gIGNvbnN0IHZpZXcgPSAob3B0aW9ucy52aWV3IGFzIHN0cmluZyB8IHVuZGVmaW5lZCkgPz8gKHdhbnRzVGFibGUgPyAndGFibGUnIDogJ3ByZXR0eScpO1xuICBpZiAoISh2aWV3cyBhcyByZWFkb25seSBzdHJpbmdbXSkuaW5jbHVkZXModmlldykpIHtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgndXNhZ2UnLCB7XG4gICAgICB3aGF0OiBgdGhlcmUgaXMgbm8gdmlldyAke3ZpZXd9YCxcbiAgICAgIHJlbWVkeTogYCR7bmVhcmVzdEhpbnQodmlldywgdmlld3MpfTsgdGhlcmUgYXJlICR7dmlld3Muam9pbignLCAnKX1gLFxuICAgIH0pO1xuICB9XG4gIGNvbnN0IG1vc3QgPSB3aG9sZU51bWJlcihvcHRpb25zLm1vc3QsICctLW1vc3QnLCB7IGxlYXN0OiAxIH0pO1xuICBjb25zdCBsb2FkczogTG9hZHMgPSBbXTtcbiAgY29uc3QgcGlja2VkID0gb3B0aW9ucy5waWNrID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiByZWFkUGxhY2Uob3B0aW9ucy5waWNrIGFzIHN0cmluZywgbG9hZHMpO1xuICBjb25zdCByb3dzID0gcm93c1RleHQgPT09IHVuZGVmaW5lZCA/IHVuZGVmaW5lZCA6IHJlYWRQbGFjZShyb3dzVGV4dCwgbG9hZHMpO1xuICBhd2FpdCBQcm9taXNlLmFsbChsb2Fkcyk7XG4gIGNvbnN0IGxpdmUgPSBvcHRpb25zLmxpdmUgPT09IHRydWU7XG4gIGNvbnN0IHRvID0gb3B0aW9ucy50byBhcyBzdHJpbmcgfCB1bmRlZmluZWQ7XG4gIGlmICh0byAhPT0gdW5kZWZpbmVkICYmIHZpZXcgPT09ICd0YWJsZScpIGRlbWFuZFRhYmxlRmlsZSh0byk7XG4gIGlmICh0byAhPT0gdW5kZWZpbmVkICYmIChsaXZlIHx8IHBpY2tlZCkpXG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ3VzYWdlJywgeyB3aGF0OiBgLS10byBhbmQgLS0ke3BpY2tlZCA/ICdwaWNrJyA6ICdsaXZlJ30gZG8gbm90IGdvIHRvZ2V0aGVyYCB9KTtcbiAgaWYgKGxpdmUgJiYgKHBpY2tlZCB8fCB0ZXJtaW5hbC5qc29uKSlcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgndXNhZ2UnLCB7IHdoYXQ6IGAtLWxpdmUgYW5kIC0tJHtwaWNrZWQgPyAncGljaycgOiAnanNvbid9IGRvIG5vdCBnbyB0b2dldGhlcmAgfSk7XG4gIHJldHVybiB7XG4gICAgdmlldzogdmlldyBhcyBWaWV3LFxuICAgIHBpY2tlZCxcbiAgICB0byxcbiAgICBsaXZlLFxuICAgIHNpbms6IHRvICE9PSB1bmRlZmluZWQgJiYgdmlldyAhPT0gJ3RhYmxlJyA/IG5ldyBGaWxlU2luayh0bywgdGVybWluYWwpIDogdW5kZWZpbmVkLFxuICAgIHRhYmxlOiB7XG4gICAgICByb3dzOiByb3dzICYmICgocmVjZWl2ZWQpID0+IHJvd3MuZmluZChyZWNlaXZlZCkpLFxuICAgICAgcm93c1RleHQsXG4gICAgICBjb2x1bW5zOiBjb2x1bW5zRnJvbShvcHRpb25zLmNvbHVtbnMgYXMgc3RyaW5nIHwgdW5kZWZpbmVkKSA/PyBjb2x1bW5zT2Yob3duPy5jb2x1bW5zKSxcbiAgICAgIG1vc3QsXG4gICAgfSxcbiAgfTtcbn1cblxuZnVuY3Rpb24gY29sdW1uc0Zyb20oZ2l2ZW46IHN0cmluZyB8IHVuZGVmaW5lZCk6IFJlYWRvbmx5TWFwPHN0cmluZywgc3RyaW5nPiB8IHVuZGVmaW5lZCB7XG4gIGlmIChnaXZlbiA9PT0gdW5kZWZpbmVkKSByZXR1cm4gdW5kZWZpbmVkO1xuICByZXR1cm4gbmV3IE1hcChnaXZlbi5zcGxpdCgnLCcpLm1hcCgocGF0aCkgPT4gW3BhdGgudHJpbSgpLCBwYXRoLnRyaW0oKV0pKTtcbn1cblxuZnVuY3Rpb24gY29sdW1uc09mKFxuICBnaXZlbjogcmVhZG9ubHkgc3RyaW5nW10gfCBSZWFkb25seTxSZWNvcmQ8c3RyaW5nLCBzdHJpbmc+PiB8IHVuZGVmaW5lZCxcbik6IFJlYWRvbmx5TWFwPHN0cmluZywgc3RyaW5nPiB8IHVuZGVmaW5lZCB7XG4gIGlmIChnaXZlbiA9PT0gdW5kZWZpbmVkKSByZXR1cm4gdW5kZWZpbmVkO1xuICByZXR1cm4gbmV3IE1hcChBcnJheS5pc0FycmF5KGdpdmVuKSA/IGdpdmVuLm1hcCgocGF0aDogc3RyaW5nKSA9PiBbcGF0aCwgcGF0aF0pIDogT2JqZWN0LmVudHJpZXMoZ2l2ZW4pKTtcbn1cbiIsICIvKiogVGhlIGFkZHJlc3NlcyBpbiBhbiBhbnN3ZXI6IG9mIGl0cyBoZWFkZXJzIChSRkMgODI4OCksIG9mIG1lbWJlcnMgdGhhdCBhcmUgY2FsbGVkIGxpbmtzLCBhbmQgb2YgZGF0YSB0aGF0IGxvb2tzIGxpa2Ugb25lLiAqL1xuaW1wb3J0IHsgbGlua3NJbiB9IGZyb20gJy4uL3BsYWNlL2xpbmstaGVhZGVyLmpzJztcbmltcG9ydCB0eXBlIHsgT2JzZXJ2ZWQgfSBmcm9tICcuLi9wbGFjZS9vYnNlcnZlZC5qcyc7XG5pbXBvcnQgeyBwYXRoQmVsb3cgfSBmcm9tICcuLi92YWx1ZS9qc29uLXBhdGgtdGV4dC5qcyc7XG5pbXBvcnQgeyBpc1ZhbHVlTWFwLCB0eXBlIFZhbHVlIH0gZnJvbSAnLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5cbmV4cG9ydCBpbnRlcmZhY2UgRm91bmRMaW5rIHtcbiAgLyoqIEFic29sdXRlLiAqL1xuICByZWFkb25seSB1cmw6IHN0cmluZztcbiAgLyoqIFdoZXJlIGl0IHN0YW5kczogYGxpbmsubmV4dGAsIGBoZWFkZXIubG9jYXRpb25gLCBgJC5wbGFjZXNbMF0uaHJlZmAuICovXG4gIHJlYWRvbmx5IGF0OiBzdHJpbmc7XG4gIC8qKiBXaGF0IGl0IGlzIGNhbGxlZCBiZXNpZGUgaXQ6IGEgcmVsYXRpb24sIGEgdGl0bGUsIGEgbmFtZS4gKi9cbiAgcmVhZG9ubHkgYWJvdXQ6IHN0cmluZyB8IHVuZGVmaW5lZDtcbn1cblxuY29uc3QgbW9zdCA9IDUwMDtcbmNvbnN0IGNhbGxlZCA9XG4gIC9eKD86aHJlZnx1cmx8dXJpfGxpbmt8c2VsZnxuZXh0fHByZXZ8cHJldmlvdXN8Zmlyc3R8bGFzdHxsb2NhdGlvbikkfCg/OlVybHxVcml8TGlua3xIcmVmfF91cmx8X3VyaXxfbGluaykkLztcblxuLyoqIEVhY2ggYWRkcmVzcyBvbmNlLCBpbiB0aGUgb3JkZXIgaW4gd2hpY2ggdGhleSBzdGFuZDsgdGhlIGFuc3dlcidzIG93biBpcyBsZWZ0IG91dC4gKi9cbmV4cG9ydCBmdW5jdGlvbiBsaW5rc09mKFxuICBvYnNlcnZlZDogUGljazxPYnNlcnZlZCwgJ2hlYWRlcnMnIHwgJ2ZpbmFsVXJsJyB8ICd0ZXh0Jz4sXG4gIGpzb246IFZhbHVlIHwgdW5kZWZpbmVkLFxuKTogcmVhZG9ubHkgRm91bmRMaW5rW10ge1xuICBjb25zdCBmb3VuZCA9IG5ldyBNYXA8c3RyaW5nLCBGb3VuZExpbms+KCk7XG4gIGNvbnN0IG93biA9IFVSTC5jYW5QYXJzZShvYnNlcnZlZC5maW5hbFVybCkgPyBuZXcgVVJMKG9ic2VydmVkLmZpbmFsVXJsKS5ocmVmIDogJyc7XG4gIGNvbnN0IGFkZCA9ICh0YXJnZXQ6IHN0cmluZywgYXQ6IHN0cmluZywgYWJvdXQ6IHN0cmluZyB8IHVuZGVmaW5lZCk6IHZvaWQgPT4ge1xuICAgIGlmIChmb3VuZC5zaXplID49IG1vc3QgfHwgIVVSTC5jYW5QYXJzZSh0YXJnZXQsIG9ic2VydmVkLmZpbmFsVXJsKSkgcmV0dXJuO1xuICAgIGNvbnN0IHsgaHJlZiwgcHJvdG9jb2wgfSA9IG5ldyBVUkwodGFyZ2V0LCBvYnNlcnZlZC5maW5hbFVybCk7XG4gICAgaWYgKC9eaHR0cHM/OiQvLnRlc3QocHJvdG9jb2wpICYmIGhyZWYgIT09IG93biAmJiAhZm91bmQuaGFzKGhyZWYpKSBmb3VuZC5zZXQoaHJlZiwgeyB1cmw6IGhyZWYsIGF0LCBhYm91dCB9KTtcbiAgfTtcbiAgZm9yIChjb25zdCB7IHRhcmdldCwgcmVsYXRpb25zLCB0aXRsZSB9IG9mIGxpbmtzSW4ob2JzZXJ2ZWQuaGVhZGVycykpXG4gICAgYWRkKHRhcmdldCwgYGxpbmsuJHtyZWxhdGlvbnNbMF0gPz8gJyd9YCwgdGl0bGUgPz8gcmVsYXRpb25zLmpvaW4oJyAnKSk7XG4gIGZvciAoY29uc3QgW25hbWUsIHZhbHVlXSBvZiBvYnNlcnZlZC5oZWFkZXJzKVxuICAgIGlmICgvXig/OmNvbnRlbnQtKT9sb2NhdGlvbiQvaS50ZXN0KG5hbWUpKSBhZGQodmFsdWUsIGBoZWFkZXIuJHtuYW1lLnRvTG93ZXJDYXNlKCl9YCwgdW5kZWZpbmVkKTtcbiAgaWYgKGpzb24gIT09IHVuZGVmaW5lZCkgaW5EYXRhKGpzb24sIGFkZCk7XG4gIGVsc2UgaW5NYXJrdXAob2JzZXJ2ZWQudGV4dCwgYWRkKTtcbiAgcmV0dXJuIFsuLi5mb3VuZC52YWx1ZXMoKV07XG59XG5cbnR5cGUgQWRkID0gKHRhcmdldDogc3RyaW5nLCBhdDogc3RyaW5nLCBhYm91dDogc3RyaW5nIHwgdW5kZWZpbmVkKSA9PiB2b2lkO1xuXG5mdW5jdGlvbiBpbkRhdGEodmFsdWU6IFZhbHVlLCBhZGQ6IEFkZCk6IHZvaWQge1xuICBjb25zdCB2aXNpdCA9IChoZXJlOiBWYWx1ZSwgYXQ6IHN0cmluZywga2V5OiBzdHJpbmcsIGhvbGRlcjogVmFsdWUpOiB2b2lkID0+IHtcbiAgICBpZiAodHlwZW9mIGhlcmUgPT09ICdzdHJpbmcnKSB7XG4gICAgICBpZiAoL15odHRwcz86XFwvXFwvXFxTKyQvaS50ZXN0KGhlcmUpIHx8IChjYWxsZWQudGVzdChrZXkpICYmIC9eW15cXHM8Plwie318XFxcXF5gXSskLy50ZXN0KGhlcmUpKSlcbiAgICAgICAgYWRkKGhlcmUsIGF0LCBuYW1lQmVzaWRlKGhvbGRlcikpO1xuICAgIH0gZWxzZSBpZiAoQXJyYXkuaXNBcnJheShoZXJlKSkge1xuICAgICAgZm9yIChjb25zdCBbaW5kZXgsIGl0ZW1dIG9mIChoZXJlIGFzIHJlYWRvbmx5IFZhbHVlW10pLmVudHJpZXMoKSkgdmlzaXQoaXRlbSwgcGF0aEJlbG93KGF0LCBpbmRleCksIGtleSwgaG9sZGVyKTtcbiAgICB9IGVsc2UgaWYgKGlzVmFsdWVNYXAoaGVyZSkpIHtcbiAgICAgIGZvciAoY29uc3QgW2lubmVyLCBvbmVdIG9mIE9iamVjdC5lbnRyaWVzKGhlcmUpKSB2aXNpdChvbmUsIHBhdGhCZWxvdyhhdCwgaW5uZXIpLCBpbm5lciwgaGVyZSk7XG4gICAgfVxuICB9O1xuICB2aXNpdCh2YWx1ZSwgJyQnLCAnJywgbnVsbCk7XG59XG5cbmZ1bmN0aW9uIG5hbWVCZXNpZGUoaG9sZGVyOiBWYWx1ZSk6IHN0cmluZyB8IHVuZGVmaW5lZCB7XG4gIGlmICghaXNWYWx1ZU1hcChob2xkZXIpKSByZXR1cm4gdW5kZWZpbmVkO1xuICBjb25zdCBrZXkgPSBbJ3JlbCcsICd0aXRsZScsICduYW1lJywgJ2xhYmVsJywgJ2lkJ10uZmluZCgob25lKSA9PiB0eXBlb2YgaG9sZGVyW29uZV0gPT09ICdzdHJpbmcnKTtcbiAgcmV0dXJuIGtleSA9PT0gdW5kZWZpbmVkID8gdW5kZWZpbmVkIDogKGhvbGRlcltrZXldIGFzIHN0cmluZyk7XG59XG5cbmZ1bmN0aW9uIGluTWFya3VwKHRleHQ6IHN0cmluZywgYWRkOiBBZGQpOiB2b2lkIHtcbiAgZm9yIChjb25zdCBmb3VuZCBvZiB0ZXh0Lm1hdGNoQWxsKFxuICAgIC88KFtcXHc6LV0rKVtePD5dKj9cXHMoaHJlZnxzcmN8YWN0aW9uKVxccyo9XFxzKig/OlwiKFteXCJdKilcInwnKFteJ10qKScpW148Pl0qPihbXjxdKikvZ2ksXG4gICkpIHtcbiAgICBjb25zdCBbLCBlbGVtZW50ID0gJycsIGF0dHJpYnV0ZSA9ICcnLCBkb3VibGUsIHNpbmdsZSwgaW5zaWRlID0gJyddID0gZm91bmQ7XG4gICAgY29uc3QgdGFyZ2V0ID0gKGRvdWJsZSA/PyBzaW5nbGUgPz8gJycpLnJlcGxhY2VBbGwoJyZhbXA7JywgJyYnKTtcbiAgICBpZiAodGFyZ2V0ICE9PSAnJyAmJiAhdGFyZ2V0LnN0YXJ0c1dpdGgoJyMnKSkgYWRkKHRhcmdldCwgYCR7ZWxlbWVudH0gJHthdHRyaWJ1dGV9YCwgaW5zaWRlLnRyaW0oKSB8fCB1bmRlZmluZWQpO1xuICB9XG59XG4iLCAiLyoqIFdoYXQgYHNlbmQgLS1qc29uYCBwcmludHMgb2YgYW4gZXhjaGFuZ2UuICovXG5pbXBvcnQgdHlwZSB7IE1pc21hdGNoIH0gZnJvbSAnLi4vLi4vY29yZS9kb2N1bWVudGF0aW9uL21pc21hdGNoLmpzJztcbmltcG9ydCB0eXBlIHsgUmVjZWl2ZWQgfSBmcm9tICcuLi8uLi9jb3JlL2V4Y2hhbmdlL3JlY2VpdmVkLmpzJztcbmltcG9ydCB7IGhpZGRlbiB9IGZyb20gJy4uLy4uL2NvcmUvZXhjaGFuZ2Uvd2lyZS5qcyc7XG5pbXBvcnQgeyBicmllZiB9IGZyb20gJy4uLy4uL2NvcmUvcHJvYmxlbS9icmllZi5qcyc7XG5pbXBvcnQgdHlwZSB7IFNlbnQgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3NlbmRpbmcuanMnO1xuaW1wb3J0IHR5cGUgeyBXb3Jrc3BhY2UgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3dvcmtzcGFjZS5qcyc7XG5pbXBvcnQgeyBwbGFpbiB9IGZyb20gJy4uLy4uL2NvcmUvdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgdHlwZSB7IERvY3VtZW50cyB9IGZyb20gJy4uL2RvY3VtZW50cy5qcyc7XG5pbXBvcnQgeyB2ZXJkaWN0RG9jdW1lbnQgfSBmcm9tICcuL3ZlcmRpY3QtZG9jdW1lbnQuanMnO1xuXG5leHBvcnQgY29uc3QgdG9sZCA9IChmb3VuZDogcmVhZG9ubHkgTWlzbWF0Y2hbXSk6IHsgYXQ6IHN0cmluZzsgd2hhdDogc3RyaW5nIH1bXSA9PlxuICBmb3VuZC5tYXAoKHsgYXQsIHdoYXQgfSkgPT4gKHsgYXQsIHdoYXQgfSkpO1xuXG5leHBvcnQgZnVuY3Rpb24gc2VuZERvY3VtZW50KHNlbnQ6IFNlbnQsIHdvcmtzcGFjZTogV29ya3NwYWNlKTogRG9jdW1lbnRzWydzZW5kJ10ge1xuICBjb25zdCB7IHJlcXVlc3QsIHdpcmUsIG91dGNvbWUsIHZlcmRpY3RzLCBrZXB0LCBwcm9ibGVtcywgZWNobyB9ID0gc2VudDtcbiAgY29uc3QgeyBoaWRlLCBoaWRlSW4gfSA9IHdvcmtzcGFjZS5yZWRhY3RvcjtcbiAgY29uc3QgeyByZWNlaXZlZCB9ID0gb3V0Y29tZTtcbiAgcmV0dXJuIHtcbiAgICBvazogcHJvYmxlbXMubGVuZ3RoID09PSAwLFxuICAgIHJlcXVlc3Q6IHJlcXVlc3QubmFtZSA9PT0gJ2NvbW1hbmQgbGluZScgPyBudWxsIDogcmVxdWVzdC5uYW1lLFxuICAgIG1ldGhvZDogd2lyZS5tZXRob2QsXG4gICAgdXJsOiBoaWRlKHdpcmUuc2hvd25VcmwpLFxuICAgIHN0YXR1czogcmVjZWl2ZWQ/LnN0YXR1cyA/PyBudWxsLFxuICAgIHJlYXNvbjogcmVjZWl2ZWQ/LnBhcnRzLnJlYXNvbiA/PyBudWxsLFxuICAgIGhlYWRlcnM6IHJlY2VpdmVkPy5oZWFkZXJzLm1hcCgoW25hbWUsIHZhbHVlXSkgPT4gW25hbWUsIGhpZGUodmFsdWUpXSBhcyBbc3RyaW5nLCBzdHJpbmddKSA/PyBbXSxcbiAgICBib2R5OiByZWNlaXZlZCAmJiByZWNlaXZlZC5zaXplID4gMCA/IGJvZHlEb2N1bWVudChyZWNlaXZlZCwgaGlkZSwgaGlkZUluKSA6IG51bGwsXG4gICAgcGhhc2VzOiBPYmplY3QuZnJvbUVudHJpZXMoXG4gICAgICBPYmplY3QuZW50cmllcyhyZWNlaXZlZD8ucGFydHMucGhhc2VzID8/IHt9KS5maWx0ZXIoKGVudHJ5KTogZW50cnkgaXMgW3N0cmluZywgbnVtYmVyXSA9PiBlbnRyeVsxXSAhPT0gdW5kZWZpbmVkKSxcbiAgICApLFxuICAgIHNpemU6IHJlY2VpdmVkPy5zaXplID8/IDAsXG4gICAgZmluYWxVcmw6IHJlY2VpdmVkID8gaGlkZShyZWNlaXZlZC5maW5hbFVybCkgOiBudWxsLFxuICAgIGV4cGVjdGF0aW9uczogdmVyZGljdHMubWFwKHZlcmRpY3REb2N1bWVudCksXG4gICAga2VwdDogT2JqZWN0LmZyb21FbnRyaWVzKGtlcHQubWFwKCh7IG5hbWUsIHZhbHVlLCBzZWNyZXQgfSkgPT4gW25hbWUsIHNlY3JldCA/IGhpZGRlbiA6IGhpZGVJbihwbGFpbih2YWx1ZSkpXSkpLFxuICAgIHVuZG9jdW1lbnRlZDogdG9sZChzZW50LnVuZG9jdW1lbnRlZCksXG4gICAgZG91YnRzOiBbLi4uc2VudC5kb3VidHNdLFxuICAgIC4uLihzZW50LnJlZnVzYWwgJiYge1xuICAgICAgcmVmdXNhbDoge1xuICAgICAgICBraW5kOiBzZW50LnJlZnVzYWwua2luZCxcbiAgICAgICAgc2VudDogWy4uLnNlbnQucmVmdXNhbC5zZW50XSxcbiAgICAgICAgc2FpZDogc2VudC5yZWZ1c2FsLnNhaWQubWFwKGhpZGUpLFxuICAgICAgICBjbG9jazogc2VudC5yZWZ1c2FsLmNsb2NrID8/IG51bGwsXG4gICAgICAgIHJlbWVkaWVzOiBbLi4uc2VudC5yZWZ1c2FsLnJlbWVkaWVzXSxcbiAgICAgIH0sXG4gICAgfSksXG4gICAgcHJvYmxlbXM6IHByb2JsZW1zLm1hcCgocHJvYmxlbSkgPT4gYnJpZWYocHJvYmxlbSwgaGlkZSkpLFxuICAgIGVjaG8sXG4gIH07XG59XG5cbmZ1bmN0aW9uIGJvZHlEb2N1bWVudChcbiAgcmVjZWl2ZWQ6IFJlY2VpdmVkLFxuICBoaWRlOiAodGV4dDogc3RyaW5nKSA9PiBzdHJpbmcsXG4gIGhpZGVJbjogV29ya3NwYWNlWydyZWRhY3RvciddWydoaWRlSW4nXSxcbik6IHVua25vd24ge1xuICBpZiAoIXJlY2VpdmVkLnRleHR1YWwpIHJldHVybiBudWxsO1xuICBpZiAoIXJlY2VpdmVkLmNsYWltc0pzb24pIHJldHVybiBoaWRlKHJlY2VpdmVkLnRleHQpO1xuICB0cnkge1xuICAgIHJldHVybiBoaWRlSW4ocmVjZWl2ZWQuanNvbigpKTtcbiAgfSBjYXRjaCB7XG4gICAgcmV0dXJuIGhpZGUocmVjZWl2ZWQudGV4dCk7XG4gIH1cbn1cbiIsICIvKiogYHNlbmQgLS1wYWdlc2A6IHRoZSBwYWdlcyBvZiBhIHJlcXVlc3QgYXMgb25lIGFuc3dlciwgd2hvc2UgYm9keSBpcyB0aGUgbGlzdCBvZiBhbGwgdGhlaXIgaXRlbXMuICovXG5pbXBvcnQgeyBSZWNlaXZlZCB9IGZyb20gJy4uLy4uL2NvcmUvZXhjaGFuZ2UvcmVjZWl2ZWQuanMnO1xuaW1wb3J0IHR5cGUgeyBLZXB0IH0gZnJvbSAnLi4vLi4vY29yZS9leHBlY3RhdGlvbi9rZWVwcy5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vY29yZS9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgZ2F0aGVyZWQsIHR5cGUgUGFnZUNvdW50LCBwYWdlc09mIH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC9wYWdpbmcvcGFnZXMuanMnO1xuaW1wb3J0IHR5cGUgeyBQcmVwYXJlZFJlcXVlc3QgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3ByZXBhcmUuanMnO1xuaW1wb3J0IHsgc2VuZFJlcXVlc3QgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3NlbmQuanMnO1xuaW1wb3J0IHR5cGUgeyBTZW5kaW5nLCBTZW50IH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC9zZW5kaW5nLmpzJztcbmltcG9ydCB0eXBlIHsgV29ya3NwYWNlIH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC93b3Jrc3BhY2UuanMnO1xuaW1wb3J0IHsgd3JpdGVKc29uIH0gZnJvbSAnLi4vLi4vY29yZS92YWx1ZS9qc29uLXRleHQuanMnO1xuaW1wb3J0IHR5cGUgeyBWYWx1ZSB9IGZyb20gJy4uLy4uL2NvcmUvdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgdHlwZSB7IFRlcm1pbmFsIH0gZnJvbSAnLi4vdGVybWluYWwuanMnO1xuaW1wb3J0IHsgd2hvbGVOdW1iZXIgfSBmcm9tICcuLi93aG9sZS1udW1iZXIuanMnO1xuXG5leHBvcnQgaW50ZXJmYWNlIFNlbnRQYWdlcyB7XG4gIHJlYWRvbmx5IHNlbnQ6IFNlbnQ7XG4gIC8qKiB1bmRlZmluZWQgb2YgYSByZXF1ZXN0IHdpdGhvdXQgcGFnZXMuICovXG4gIHJlYWRvbmx5IGNvdW50OiBQYWdlQ291bnQgfCB1bmRlZmluZWQ7XG59XG5cbi8qKiBAcGFyYW0gcGFnZXMgYGFsbGAsIG9yIHNvIG1hbnk7IHVuZGVmaW5lZCBmb3IgdGhlIGZpcnN0IGFsb25lLCBhcyBpdCBjYW1lIEB0aHJvd3MgUHJvYmxlbSB1c2FnZTogdGhlIHJlcXVlc3QgaGFzIG5vIHBhZ2VzICovXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gc2VuZFBhZ2VzKFxuICB3b3Jrc3BhY2U6IFdvcmtzcGFjZSxcbiAgcHJlcGFyZWQ6IFByZXBhcmVkUmVxdWVzdCxcbiAgc2VuZGluZzogU2VuZGluZyxcbiAgcGFnZXM6IHN0cmluZyB8IHVuZGVmaW5lZCxcbiAgdGVybWluYWw6IFRlcm1pbmFsLFxuKTogUHJvbWlzZTxTZW50UGFnZXM+IHtcbiAgY29uc3QgbW9zdCA9IHBhZ2VzID09PSB1bmRlZmluZWQgPyAxIDogcGFnZXMgPT09ICdhbGwnID8gdW5kZWZpbmVkIDogd2hvbGVOdW1iZXIocGFnZXMsICctLXBhZ2VzJywgeyBsZWFzdDogMSB9KTtcbiAgaWYgKCFwcmVwYXJlZC5wYWdlcykge1xuICAgIGlmIChwYWdlcyA9PT0gdW5kZWZpbmVkKSByZXR1cm4geyBzZW50OiBhd2FpdCBzZW5kUmVxdWVzdCh3b3Jrc3BhY2UsIHByZXBhcmVkLCBzZW5kaW5nKSwgY291bnQ6IHVuZGVmaW5lZCB9O1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCd1c2FnZScsIHtcbiAgICAgIHdoYXQ6IGAtLXBhZ2VzOiB0aGUgcmVxdWVzdCAke3ByZXBhcmVkLnBsYW4ubmFtZX0gZG9lcyBub3Qgc2F5IGhvdyBpdHMgcGFnZXMgYXJlIGFza2VkIGZvcmAsXG4gICAgICByZW1lZHk6ICdwYWdlczogaW4gdGhlIHJlcXVlc3QgZmlsZSBzYXlzIHNvJyxcbiAgICB9KTtcbiAgfVxuICBjb25zdCBpdGVtczogVmFsdWVbXSA9IFtdO1xuICBsZXQga2VwdCA9IG5ldyBNYXA8c3RyaW5nLCBLZXB0PigpO1xuICBmb3IgYXdhaXQgKGNvbnN0IHBhZ2Ugb2YgcGFnZXNPZih3b3Jrc3BhY2UsIHByZXBhcmVkLCBzZW5kaW5nLCBtb3N0KSkge1xuICAgIGl0ZW1zLnB1c2goLi4ucGFnZS5pdGVtcyk7XG4gICAga2VwdCA9IGdhdGhlcmVkKGtlcHQsIHBhZ2Uuc2VudC5rZXB0KTtcbiAgICBjb25zdCB7IHRvdGFsIH0gPSBwYWdlLmNvdW50O1xuICAgIGlmICghcGFnZS5sYXN0KVxuICAgICAgdGVybWluYWwucHJvZ3Jlc3MoYHBhZ2UgJHtwYWdlLmNvdW50LnBhZ2VzfTogJHtpdGVtcy5sZW5ndGh9JHt0b3RhbCA9PT0gdW5kZWZpbmVkID8gJycgOiBgIG9mICR7dG90YWx9YH0gaXRlbXNgKTtcbiAgICBlbHNlIGlmIChwYWdlcyA9PT0gdW5kZWZpbmVkKSByZXR1cm4geyBzZW50OiBwYWdlLnNlbnQsIGNvdW50OiBwYWdlLmNvdW50IH07XG4gICAgZWxzZSByZXR1cm4geyBzZW50OiB7IC4uLmxpc3RlZChwYWdlLnNlbnQsIGl0ZW1zKSwga2VwdDogWy4uLmtlcHQudmFsdWVzKCldIH0sIGNvdW50OiBwYWdlLmNvdW50IH07XG4gIH1cbiAgdGhyb3cgbmV3IFByb2JsZW0oJ2ZhdWx0JywgeyB3aGF0OiAncGFnZXMgZW5kZWQgd2l0aG91dCBhIGxhc3Qgb25lJyB9KTtcbn1cblxuLyoqIFRoZSBsYXN0IGFuc3dlciB3aXRoIGFsbCBpdGVtcyBhcyBpdHMgYm9keTsgb25lIHRoYXQgZmFpbGVkIHN0YXlzIGFzIGl0IGlzLiAqL1xuZnVuY3Rpb24gbGlzdGVkKHNlbnQ6IFNlbnQsIGl0ZW1zOiByZWFkb25seSBWYWx1ZVtdKTogU2VudCB7XG4gIGNvbnN0IHsgcmVjZWl2ZWQgfSA9IHNlbnQub3V0Y29tZTtcbiAgaWYgKCFyZWNlaXZlZCB8fCBzZW50LnByb2JsZW1zLmxlbmd0aCA+IDApIHJldHVybiBzZW50O1xuICBjb25zdCB7IHBhcnRzIH0gPSByZWNlaXZlZDtcbiAgY29uc3QgaGVhZGVycyA9IHBhcnRzLmhlYWRlcnMubWFwKChbbmFtZSwgdmFsdWVdKTogcmVhZG9ubHkgW3N0cmluZywgc3RyaW5nXSA9PlxuICAgIG5hbWUudG9Mb3dlckNhc2UoKSA9PT0gJ2NvbnRlbnQtdHlwZScgPyBbbmFtZSwgJ2FwcGxpY2F0aW9uL2pzb24nXSA6IFtuYW1lLCB2YWx1ZV0sXG4gICk7XG4gIGNvbnN0IGJvZHkgPSBCdWZmZXIuZnJvbSh3cml0ZUpzb24oaXRlbXMpKTtcbiAgcmV0dXJuIHsgLi4uc2VudCwgb3V0Y29tZTogeyAuLi5zZW50Lm91dGNvbWUsIHJlY2VpdmVkOiBuZXcgUmVjZWl2ZWQoeyAuLi5wYXJ0cywgaGVhZGVycywgYm9keSB9KSB9IH07XG59XG4iLCAiLyoqIFNlbmRpbmcgb25lIHJlcXVlc3QgYW5kIHNob3dpbmcgd2hhdCBjYW1lIGJhY2s6IHdoYXQgYHNlbmRgIGFuZCBgZm9sbG93YCBoYXZlIGluIGNvbW1vbi4gKi9cbmltcG9ydCB7IGZpbmRPcGVyYXRpb24gfSBmcm9tICcuLi8uLi9jb3JlL2NvbGxlY3Rpb24vc291cmNlLWluZGV4LmpzJztcbmltcG9ydCB0eXBlIHsgTWlzbWF0Y2ggfSBmcm9tICcuLi8uLi9jb3JlL2RvY3VtZW50YXRpb24vbWlzbWF0Y2guanMnO1xuaW1wb3J0IHsgYW5zd2VyTWlzbWF0Y2hlcyB9IGZyb20gJy4uLy4uL2NvcmUvZXhjaGFuZ2UvYWdhaW5zdC1kb2N1bWVudGF0aW9uLmpzJztcbmltcG9ydCB7IGxpbmtzT2YgfSBmcm9tICcuLi8uLi9jb3JlL2V4Y2hhbmdlL2xpbmtzLmpzJztcbmltcG9ydCB0eXBlIHsgUmVjZWl2ZWQgfSBmcm9tICcuLi8uLi9jb3JlL2V4Y2hhbmdlL3JlY2VpdmVkLmpzJztcbmltcG9ydCB0eXBlIHsgU2luayB9IGZyb20gJy4uLy4uL2NvcmUvZXhjaGFuZ2Uvc2luay5qcyc7XG5pbXBvcnQgeyB0eXBlIE5hbWVkLCBub05hbWVzIH0gZnJvbSAnLi4vLi4vY29yZS9leHByZXNzaW9uL25hbWVzLmpzJztcbmltcG9ydCB0eXBlIHsgUGxhY2UgfSBmcm9tICcuLi8uLi9jb3JlL3BsYWNlL3BsYWNlLmpzJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9jb3JlL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBob2xkIH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC9oZWxkLmpzJztcbmltcG9ydCB0eXBlIHsgUGFnZUNvdW50IH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC9wYWdpbmcvcGFnZXMuanMnO1xuaW1wb3J0IHR5cGUgeyBQcmVwYXJlZFJlcXVlc3QgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3ByZXBhcmUuanMnO1xuaW1wb3J0IHR5cGUgeyBTZW50IH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC9zZW5kaW5nLmpzJztcbmltcG9ydCB7IHRhYmxlV3JpdGVyIH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC90YWJsZS1maWxlLmpzJztcbmltcG9ydCB0eXBlIHsgV29ya3NwYWNlIH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC93b3Jrc3BhY2UuanMnO1xuaW1wb3J0IHsgZHVwbGljYXRlS2V5cywgd3JpdGVKc29uIH0gZnJvbSAnLi4vLi4vY29yZS92YWx1ZS9qc29uLXRleHQuanMnO1xuaW1wb3J0IHsgZHVyYXRpb25UZXh0LCBzaXplVGV4dCB9IGZyb20gJy4uLy4uL2NvcmUvdmFsdWUvbWVhc3VyZXMuanMnO1xuaW1wb3J0IHsgY2VsbEluIH0gZnJvbSAnLi4vLi4vY29yZS92YWx1ZS9yb3dzLmpzJztcbmltcG9ydCB7IHRleHRPZiB9IGZyb20gJy4uLy4uL2NvcmUvdmFsdWUvdGV4dC5qcyc7XG5pbXBvcnQgeyBpc1ZhbHVlTWFwLCBwbGFpbiwgdHlwZSBWYWx1ZSB9IGZyb20gJy4uLy4uL2NvcmUvdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgdHlwZSB7IENvbnRleHQgfSBmcm9tICcuLi9jb250ZXh0LmpzJztcbmltcG9ydCB7IGVtaXQgfSBmcm9tICcuLi9lbWl0LmpzJztcbmltcG9ydCB7IGV4aXRTdGF0dXMgfSBmcm9tICcuLi9leGl0LXN0YXR1cy5qcyc7XG5pbXBvcnQgeyBzZXNzaW9uc0Zyb20sIHdpdGhJbnB1dHMgfSBmcm9tICcuLi9naXZpbmcuanMnO1xuaW1wb3J0IHR5cGUgeyBUZXJtaW5hbCB9IGZyb20gJy4uL3Rlcm1pbmFsLmpzJztcbmltcG9ydCB7IGhlYWRlcnNUZXh0LCBvdXRsaW5lVGV4dCwgcHJldHR5VGV4dCwgdHlwZSBUYWJsZUNvbnRlbnQsIHRhYmxlQ29udGVudCwgdGFibGVUZXh0IH0gZnJvbSAnLi4vdmlldy9hbnN3ZXIuanMnO1xuaW1wb3J0IHsgYW5zd2VyTGluZSwgb3V0Y29tZUxpbmVzIH0gZnJvbSAnLi4vdmlldy9leGNoYW5nZS5qcyc7XG5pbXBvcnQgeyBwcmludGFibGUsIHByaW50YWJsZUxpbmUgfSBmcm9tICcuLi92aWV3L3ByaW50YWJsZS5qcyc7XG5pbXBvcnQgeyBwcm9ibGVtTGluZXMgfSBmcm9tICcuLi92aWV3L3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgc2VuZERvY3VtZW50LCB0b2xkIH0gZnJvbSAnLi4vdmlldy9zZW5kLWRvY3VtZW50LmpzJztcbmltcG9ydCB7IHR5cGUgU2VudFBhZ2VzLCBzZW5kUGFnZXMgfSBmcm9tICcuL2FsbC1wYWdlcy5qcyc7XG5pbXBvcnQgeyBMaXZlU2luayB9IGZyb20gJy4vbGl2ZS1zaW5rLmpzJztcbmltcG9ydCB7IHR5cGUgV2lzaGVzLCB3aXNoZXNPZiB9IGZyb20gJy4vb3B0aW9ucy5qcyc7XG5cbi8qKiBAcGFyYW0gcmVjb3JkZWQgd2hhdCBhbiBlYXJsaWVyIHNlbmRpbmcgb2YgaXQgd2FzIGdpdmVuIEByZXR1cm5zIHRoZSBleGl0IHN0YXR1cyAqL1xuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIHNlbmRBbmRTaG93KFxuICBjb250ZXh0OiBDb250ZXh0LFxuICB3b3Jrc3BhY2U6IFdvcmtzcGFjZSxcbiAgcHJlcGFyZWQ6IFByZXBhcmVkUmVxdWVzdCxcbiAgb3B0aW9uczogUmVjb3JkPHN0cmluZywgdW5rbm93bj4sXG4gIHJlY29yZGVkPzogUmVhZG9ubHlNYXA8c3RyaW5nLCBOYW1lZD4sXG4pOiBQcm9taXNlPG51bWJlcj4ge1xuICBjb25zdCB7IHRlcm1pbmFsLCBzaWduYWwgfSA9IGNvbnRleHQ7XG4gIGNvbnN0IHdpc2hlcyA9IGF3YWl0IHdpc2hlc09mKG9wdGlvbnMsIHByZXBhcmVkLCB0ZXJtaW5hbCk7XG4gIGNvbnN0IGhpZGUgPSB3b3Jrc3BhY2UucmVkYWN0b3IuaGlkZTtcbiAgd29ya3NwYWNlLm9uV2FpdCA9ICh7IGhvc3QsIHdhaXQsIHdoeSB9KSA9PlxuICAgIHRlcm1pbmFsLm5vdGUodGVybWluYWwuZXJyLmRpbShgd2FpdGluZyAke2R1cmF0aW9uVGV4dCh3YWl0KX0gZm9yICR7aG9zdH0gKCR7d2h5fSlgKSk7XG4gIGNvbnN0IGxpdmUgPSB3aXNoZXMubGl2ZSA/IG5ldyBMaXZlU2luaygodGV4dCkgPT4gdGVybWluYWwucHJpbnQocHJpbnRhYmxlKGhpZGUodGV4dCkpKSkgOiB1bmRlZmluZWQ7XG4gIGNvbnN0IHNpbmsgPSB3aXNoZXMuc2luayA/PyBsaXZlO1xuICBjb25zdCB7IHNlbnQsIGNvdW50IH0gPSBhd2FpdCB3aGlsZVdhaXRpbmcodGVybWluYWwsIHByZXBhcmVkLCBzaW5rLCAoKSA9PlxuICAgIHdpdGhJbnB1dHMoXG4gICAgICB3b3Jrc3BhY2UsXG4gICAgICBwcmVwYXJlZCxcbiAgICAgIHRlcm1pbmFsLFxuICAgICAgb3B0aW9ucy5hc2sgPT09IHRydWUsXG4gICAgICAoeyBnaXZlbiB9KSA9PlxuICAgICAgICBzZW5kUGFnZXMoXG4gICAgICAgICAgd29ya3NwYWNlLFxuICAgICAgICAgIHByZXBhcmVkLFxuICAgICAgICAgIHtcbiAgICAgICAgICAgIGdpdmVuLFxuICAgICAgICAgICAgY2FsbGVyOiBub05hbWVzLFxuICAgICAgICAgICAgc2lnbmFsLFxuICAgICAgICAgICAgc2Vzc2lvbnM6IHNlc3Npb25zRnJvbShvcHRpb25zLnNlc3Npb24pLFxuICAgICAgICAgICAgc2lnbmF0dXJlOiBvcHRpb25zLnNpZ24gYXMgc3RyaW5nIHwgdW5kZWZpbmVkLFxuICAgICAgICAgICAgZG9jdW1lbnRlZDogb3B0aW9ucy5zdHJpY3QgPT09IHRydWUgPyAncmVmdXNlJyA6ICd0ZWxsJyxcbiAgICAgICAgICAgIG5vQ29va2llczogb3B0aW9ucy5jb29raWVzID09PSBmYWxzZSxcbiAgICAgICAgICAgIHNpbmssXG4gICAgICAgICAgICBsaW5lczogc2luaz8ubGluZXMsXG4gICAgICAgICAgICAuLi4ob3B0aW9ucy5hY2NlcHRDZXJ0aWZpY2F0ZSA9PT0gdHJ1ZSAmJiB7XG4gICAgICAgICAgICAgIG9uQWNjZXB0ZWQ6ICh7IHN1YmplY3QsIGZpbmdlcnByaW50IH06IHsgc3ViamVjdDogc3RyaW5nOyBmaW5nZXJwcmludDogc3RyaW5nIH0sIHVudGlsOiBzdHJpbmcpOiB2b2lkID0+XG4gICAgICAgICAgICAgICAgdGVybWluYWwubm90ZShcbiAgICAgICAgICAgICAgICAgIGAke3Rlcm1pbmFsLmVyci55ZWxsb3coJ2FjY2VwdGVkJyl9ICAke3ByaW50YWJsZUxpbmUoc3ViamVjdCl9LCB1bnRpbCAke3VudGlsLnNsaWNlKDAsIDE2KS5yZXBsYWNlKCdUJywgJyAnKX0gVVRDXFxuICAgICAgICAgIFNIQS0yNTYgJHtmaW5nZXJwcmludH1gLFxuICAgICAgICAgICAgICAgICksXG4gICAgICAgICAgICB9KSxcbiAgICAgICAgICB9LFxuICAgICAgICAgIG9wdGlvbnMucGFnZXMgYXMgc3RyaW5nIHwgdW5kZWZpbmVkLFxuICAgICAgICAgIHRlcm1pbmFsLFxuICAgICAgICApLFxuICAgICAgcmVjb3JkZWQsXG4gICAgKSxcbiAgKTtcbiAgbGl2ZT8uZmluaXNoKCk7XG4gIGNvbnN0IHNhdmVkID0gYXdhaXQgd2lzaGVzLnNpbms/LmZpbmlzaChzZW50Lm91dGNvbWUudHJvdWJsZSA9PT0gdW5kZWZpbmVkKTtcbiAgYXdhaXQgaG9sZCh3b3Jrc3BhY2UuY29sbGVjdGlvbi5sb2NhbCwgd29ya3NwYWNlLmVudmlyb25tZW50Lm5hbWUsIHNlbnQucmVxdWVzdC5uYW1lLCBzZW50LmtlcHQsIHdvcmtzcGFjZS5yZWRhY3Rvcik7XG4gIGNvbnN0IHN0YXR1cyA9IE1hdGgubWF4KDAsIC4uLnNlbnQucHJvYmxlbXMubWFwKGV4aXRTdGF0dXMpKTtcbiAgZm9yIChjb25zdCB7IGF0LCB3aGF0IH0gb2Ygc2VudC51bmRvY3VtZW50ZWQpXG4gICAgdGVybWluYWwubm90ZShgJHt0ZXJtaW5hbC5lcnIueWVsbG93KCd3YXJuaW5nJyl9ICAke2hpZGUoYCR7YXR9ICR7d2hhdH1gKX1gKTtcbiAgZm9yIChjb25zdCBkb3VidCBvZiBzZW50LmRvdWJ0cykgdGVybWluYWwubm90ZShgJHt0ZXJtaW5hbC5lcnIueWVsbG93KCd3YXJuaW5nJyl9ICAke2RvdWJ0fWApO1xuICBjb25zdCBhZ2FpbnN0ID0gb3B0aW9ucy5hZ2FpbnN0RG9jcyA9PT0gdHJ1ZSA/IGRpZmZlcmVuY2VzT2Yoc2VudCwgd29ya3NwYWNlKSA6IHVuZGVmaW5lZDtcbiAgZm9yIChjb25zdCB7IGF0LCB3aGF0IH0gb2YgYWdhaW5zdCA/PyBbXSlcbiAgICB0ZXJtaW5hbC5ub3RlKGAke3Rlcm1pbmFsLmVyci55ZWxsb3coJ3VuZG9jdW1lbnRlZCcpfSAgJHtoaWRlKGAke2F0fSAke3doYXR9YCl9YCk7XG4gIGlmIChhZ2FpbnN0Py5sZW5ndGggPT09IDApIHRlcm1pbmFsLm5vdGUoJ3RoZSBhbnN3ZXIgaXMgYXMgZG9jdW1lbnRlZCcpO1xuICBpZiAod2lzaGVzLnBpY2tlZCkgcmV0dXJuIHByaW50UGlja2VkKHNlbnQsIHdpc2hlcy5waWNrZWQsIGNvbnRleHQsIGhpZGUsIHN0YXR1cyk7XG4gIGlmICh0ZXJtaW5hbC5qc29uKSB7XG4gICAgY29uc3QgcGFnZXMgPSBjb3VudCAmJiB7IC4uLmNvdW50LCB0b3RhbDogY291bnQudG90YWwgPz8gbnVsbCwgcGFydGlhbDogY291bnQucGFydGlhbCA/PyBudWxsIH07XG4gICAgZW1pdCh0ZXJtaW5hbCwgJ3NlbmQnLCB7XG4gICAgICAuLi5zZW5kRG9jdW1lbnQoc2VudCwgd29ya3NwYWNlKSxcbiAgICAgIC4uLihwYWdlcyAmJiB7IHBhZ2VzIH0pLFxuICAgICAgLi4uKGFnYWluc3QgJiYgeyBhZ2FpbnN0RG9jczogdG9sZChhZ2FpbnN0KSB9KSxcbiAgICB9KTtcbiAgICByZXR1cm4gc3RhdHVzO1xuICB9XG4gIGF3YWl0IHByaW50U2VudChzZW50LCB3b3Jrc3BhY2UsIHRlcm1pbmFsLCB3aXNoZXMsIHsgc2F2ZWQsIHNob3duOiBsaXZlPy5iZWd1biA9PT0gdHJ1ZSB9KTtcbiAgaWYgKGNvdW50KSB0ZWxsUGFnZXMoY291bnQsIG9wdGlvbnMucGFnZXMgPT09IHVuZGVmaW5lZCwgdGVybWluYWwpO1xuICByZXR1cm4gc3RhdHVzO1xufVxuXG4vKiogU2F5cyBob3cgbG9uZyBpdCBoYXMgd2FpdGVkLCB1bmxlc3Mgd2hhdCBjb21lcyBpcyBzaG93biBhdCBvbmNlLiAqL1xuYXN5bmMgZnVuY3Rpb24gd2hpbGVXYWl0aW5nKFxuICB0ZXJtaW5hbDogVGVybWluYWwsXG4gIHsgcGxhbiB9OiBQcmVwYXJlZFJlcXVlc3QsXG4gIHNpbms6IFNpbmsgfCB1bmRlZmluZWQsXG4gIHdvcms6ICgpID0+IFByb21pc2U8U2VudFBhZ2VzPixcbik6IFByb21pc2U8U2VudFBhZ2VzPiB7XG4gIGNvbnN0IHN0YXJ0ZWQgPSBwZXJmb3JtYW5jZS5ub3coKTtcbiAgY29uc3QgdGltZXIgPSBzZXRJbnRlcnZhbCgoKSA9PiB7XG4gICAgaWYgKHNpbmsgJiYgc2luay5zYXZlZCA+IDApIHJldHVybjtcbiAgICB0ZXJtaW5hbC5wcm9ncmVzcyhgJHtwbGFuLm1ldGhvZH0gJHtwbGFuLm5hbWV9OiB3YWl0aW5nLCAke2R1cmF0aW9uVGV4dChwZXJmb3JtYW5jZS5ub3coKSAtIHN0YXJ0ZWQpfWApO1xuICB9LCAyMDApO1xuICB0cnkge1xuICAgIHJldHVybiBhd2FpdCB3b3JrKCk7XG4gIH0gZmluYWxseSB7XG4gICAgY2xlYXJJbnRlcnZhbCh0aW1lcik7XG4gICAgdGVybWluYWwucHJvZ3Jlc3MoJycpO1xuICB9XG59XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gdXNhZ2U6IHRoZSByZXF1ZXN0IG5hbWVzIG5vIGRvY3VtZW50ZWQgb3BlcmF0aW9uICovXG5mdW5jdGlvbiBkaWZmZXJlbmNlc09mKHsgcmVxdWVzdCwgb3V0Y29tZTogeyByZWNlaXZlZCB9IH06IFNlbnQsIHsgY29sbGVjdGlvbiB9OiBXb3Jrc3BhY2UpOiByZWFkb25seSBNaXNtYXRjaFtdIHtcbiAgaWYgKHJlcXVlc3Qub3BlcmF0aW9uID09PSB1bmRlZmluZWQpIHtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgndXNhZ2UnLCB7XG4gICAgICB3aGF0OiBgLS1hZ2FpbnN0LWRvY3M6ICR7cmVxdWVzdC5uYW1lfSBuYW1lcyBubyBkb2N1bWVudGVkIG9wZXJhdGlvbmAsXG4gICAgICByZW1lZHk6ICdvcGVyYXRpb246IFNPVVJDRS9PUEVSQVRJT04gaW4gdGhlIHJlcXVlc3QgZmlsZSBzYXlzIHdoYXQgaXQgaXMnLFxuICAgIH0pO1xuICB9XG4gIHJldHVybiByZWNlaXZlZCA/IGFuc3dlck1pc21hdGNoZXMocmVjZWl2ZWQsIGZpbmRPcGVyYXRpb24oY29sbGVjdGlvbiwgcmVxdWVzdC5vcGVyYXRpb24pKSA6IFtdO1xufVxuXG5mdW5jdGlvbiBwcmludFBpY2tlZChcbiAgeyBvdXRjb21lLCBwcm9ibGVtcyB9OiBTZW50LFxuICBwbGFjZTogUGxhY2UsXG4gIHsgdGVybWluYWwgfTogQ29udGV4dCxcbiAgaGlkZTogKHRleHQ6IHN0cmluZykgPT4gc3RyaW5nLFxuICBzdGF0dXM6IG51bWJlcixcbik6IG51bWJlciB7XG4gIGNvbnN0IHsgcmVjZWl2ZWQgfSA9IG91dGNvbWU7XG4gIGNvbnN0IGZvdW5kID0gcmVjZWl2ZWQgJiYgcGxhY2UuZmluZChyZWNlaXZlZCk7XG4gIGZvciAoY29uc3QgcHJvYmxlbSBvZiBwcm9ibGVtcykgdGVybWluYWwuY29tcGxhaW4ocHJvYmxlbUxpbmVzKHByb2JsZW0sIHRlcm1pbmFsLmVyciwgaGlkZSkpO1xuICBpZiAoZm91bmQgPT09IHVuZGVmaW5lZCB8fCAhcmVjZWl2ZWQpIHtcbiAgICBpZiAoIXJlY2VpdmVkKSByZXR1cm4gc3RhdHVzO1xuICAgIGNvbnN0IG5lYXIgPSBwbGFjZS5uZWFyKHJlY2VpdmVkKTtcbiAgICBjb25zdCBwcm9ibGVtID0gbmV3IFByb2JsZW0oJ3BsYWNlLW5vdC1mb3VuZCcsIHtcbiAgICAgIHdoYXQ6IGBub3RoaW5nIHN0YW5kcyBhdCAke3BsYWNlLnRleHR9YCxcbiAgICAgIGNhdXNlOiBgdGhlIGFuc3dlciBpcyAke3JlY2VpdmVkLnN0YXR1c31gLFxuICAgICAgcmVtZWR5OiBuZWFyICYmIGBuZWFyZXN0OiAke25lYXJ9YCxcbiAgICB9KTtcbiAgICB0ZXJtaW5hbC5jb21wbGFpbihwcm9ibGVtTGluZXMocHJvYmxlbSwgdGVybWluYWwuZXJyLCBoaWRlKSk7XG4gICAgcmV0dXJuIHN0YXR1cyB8fCAxO1xuICB9XG4gIGNvbnN0IHZhbHVlID0gcGxhaW4oZm91bmQpO1xuICB0ZXJtaW5hbC5wcmludChcbiAgICBwcmludGFibGUoXG4gICAgICBoaWRlKGlzVmFsdWVNYXAodmFsdWUpIHx8IEFycmF5LmlzQXJyYXkodmFsdWUpID8gd3JpdGVKc29uKGZvdW5kKSA6IHZhbHVlID09PSBudWxsID8gJ251bGwnIDogdGV4dE9mKGZvdW5kKSksXG4gICAgKSxcbiAgKTtcbiAgcmV0dXJuIHN0YXR1cztcbn1cblxuYXN5bmMgZnVuY3Rpb24gcHJpbnRTZW50KFxuICBzZW50OiBTZW50LFxuICB3b3Jrc3BhY2U6IFdvcmtzcGFjZSxcbiAgdGVybWluYWw6IFRlcm1pbmFsLFxuICB3aXNoZXM6IFdpc2hlcyxcbiAgeyBzYXZlZCwgc2hvd24gfTogeyByZWFkb25seSBzYXZlZDogYm9vbGVhbiB8IHVuZGVmaW5lZDsgcmVhZG9ubHkgc2hvd246IGJvb2xlYW4gfSxcbik6IFByb21pc2U8dm9pZD4ge1xuICBjb25zdCB7IHdpcmUsIG91dGNvbWUsIGVjaG8gfSA9IHNlbnQ7XG4gIGNvbnN0IHsgZXJyIH0gPSB0ZXJtaW5hbDtcbiAgY29uc3QgeyBoaWRlIH0gPSB3b3Jrc3BhY2UucmVkYWN0b3I7XG4gIGNvbnN0IHsgcmVjZWl2ZWQsIHRyb3VibGUgfSA9IG91dGNvbWU7XG4gIHRlcm1pbmFsLm5vdGUoXG4gICAgYCR7ZXJyLmN5YW4od2lyZS5tZXRob2QpfSAke3ByaW50YWJsZUxpbmUoaGlkZSh3aXJlLnNob3duVXJsKSl9ICAgJHtlcnIuZGltKGBlbnZpcm9ubWVudCAke3dvcmtzcGFjZS5lbnZpcm9ubWVudC5uYW1lfWApfWAsXG4gICk7XG4gIGlmIChyZWNlaXZlZCkge1xuICAgIGZvciAoY29uc3QgaG9wIG9mIHJlY2VpdmVkLnBhcnRzLmhvcHMpXG4gICAgICB0ZXJtaW5hbC5ub3RlKGVyci5kaW0oYCAgJHtob3Auc3RhdHVzfSBmcm9tICR7cHJpbnRhYmxlTGluZShoaWRlKGhvcC51cmwpKX1gKSk7XG4gICAgaWYgKHJlY2VpdmVkLnBhcnRzLmhvcHMubGVuZ3RoID4gMCkgdGVybWluYWwubm90ZShlcnIuZGltKGAgIGxlZCB0byAke3ByaW50YWJsZUxpbmUoaGlkZShyZWNlaXZlZC5maW5hbFVybCkpfWApKTtcbiAgICB0ZXJtaW5hbC5ub3RlKGFuc3dlckxpbmUocmVjZWl2ZWQsIGVycikpO1xuICAgIGlmIChzYXZlZCAhPT0gdW5kZWZpbmVkKSB0ZXJtaW5hbC5ub3RlKHNhdmVkVGV4dChzYXZlZCwgcmVjZWl2ZWQsIHdpc2hlcy50byBhcyBzdHJpbmcpKTtcbiAgICBlbHNlIGlmICh3aXNoZXMudmlldyA9PT0gJ2hlYWRlcnMnKSB0ZXJtaW5hbC5wcmludChoZWFkZXJzVGV4dCh3aXJlLCByZWNlaXZlZCwgdGVybWluYWwsIGhpZGUpKTtcbiAgICBlbHNlIGlmICghc2hvd24pIGF3YWl0IHByaW50Qm9keShyZWNlaXZlZCwgd2lzaGVzLCB0ZXJtaW5hbCwgaGlkZSk7XG4gICAgaWYgKHdpc2hlcy52aWV3ID09PSAncHJldHR5JyAmJiAhc2hvd24gJiYgc2F2ZWQgPT09IHVuZGVmaW5lZCkgdGVsbE1vcmUocmVjZWl2ZWQsIHRlcm1pbmFsKTtcbiAgfSBlbHNlIGlmICh3aXNoZXMudmlldyA9PT0gJ2hlYWRlcnMnKSB0ZXJtaW5hbC5wcmludChoZWFkZXJzVGV4dCh3aXJlLCB1bmRlZmluZWQsIHRlcm1pbmFsLCBoaWRlKSk7XG4gIGZvciAoY29uc3QgbGluZSBvZiBvdXRjb21lTGluZXMoc2VudCwgZXJyLCBoaWRlKSkgdGVybWluYWwuY29tcGxhaW4obGluZSk7XG4gIGlmICh0cm91YmxlKSB0ZXJtaW5hbC5jb21wbGFpbihwcm9ibGVtTGluZXModHJvdWJsZSwgZXJyLCBoaWRlKSk7XG4gIC8vIEluIHRoZSBjb2x1bW5zIG9mIHdoYXQgc3RhbmRzIGFib3ZlIGl0LlxuICB0ZXJtaW5hbC5ub3RlKGVyci5kaW0oYCR7J2VjaG8nLnBhZEVuZCh0cm91YmxlID8gNyA6IDgpfSR7ZWNob31gKSk7XG59XG5cbi8qKiBQYWdlIG9uZSBpcyBub3QgZXZlcnl0aGluZy4gKi9cbmZ1bmN0aW9uIHRlbGxQYWdlcyh7IHBhZ2VzLCBpdGVtcywgdG90YWwsIHBhcnRpYWwgfTogUGFnZUNvdW50LCBmaXJzdDogYm9vbGVhbiwgdGVybWluYWw6IFRlcm1pbmFsKTogdm9pZCB7XG4gIGNvbnN0IHsgZXJyIH0gPSB0ZXJtaW5hbDtcbiAgY29uc3QgY291bnRlZCA9IGAke2l0ZW1zfSR7dG90YWwgPT09IHVuZGVmaW5lZCA/ICcnIDogYCBvZiAke3RvdGFsfWB9IGl0ZW1zIG9uICR7cGFnZXN9ICR7cGFnZXMgPT09IDEgPyAncGFnZScgOiAncGFnZXMnfWA7XG4gIGlmIChwYXJ0aWFsID09PSB1bmRlZmluZWQpIHRlcm1pbmFsLm5vdGUoZXJyLmRpbShgcGFnZXMgICAke2NvdW50ZWR9YCkpO1xuICBlbHNlIGlmIChmaXJzdCkgdGVybWluYWwubm90ZShgJHtlcnIueWVsbG93KCdwYWdlcycpfSAgICR7Y291bnRlZH06IC0tcGFnZXMgYWxsIHJlYWRzIG9uYCk7XG4gIGVsc2UgdGVybWluYWwubm90ZShgJHtlcnIueWVsbG93KCdwYXJ0aWFsJyl9ICR7Y291bnRlZH06ICR7cGFydGlhbH1gKTtcbn1cblxuY29uc3Qgc2F2ZWRUZXh0ID0gKHNhdmVkOiBib29sZWFuLCB7IHNpemUgfTogUmVjZWl2ZWQsIHRvOiBzdHJpbmcpOiBzdHJpbmcgPT5cbiAgc2F2ZWRcbiAgICA/IGBzYXZlZCAke3NpemVUZXh0KHNpemUpfSB0byAke3RvfWBcbiAgICA6IGAke3NpemVUZXh0KHNpemUpfSBhcmUgaW4gJHt0b30ucGFydDsgdGhlIHNhbWUgY29tbWFuZCBnb2VzIG9uIGZyb20gdGhlcmUgd2hlcmUgdGhlIHNlcnZlciBhbGxvd3MgaXRgO1xuXG5hc3luYyBmdW5jdGlvbiBwcmludEJvZHkoXG4gIHJlY2VpdmVkOiBSZWNlaXZlZCxcbiAgeyB2aWV3LCB0YWJsZSwgdG8gfTogV2lzaGVzLFxuICB0ZXJtaW5hbDogVGVybWluYWwsXG4gIGhpZGU6ICh0ZXh0OiBzdHJpbmcpID0+IHN0cmluZyxcbik6IFByb21pc2U8dm9pZD4ge1xuICBpZiAodmlldyA9PT0gJ25vbmUnIHx8IHJlY2VpdmVkLnNpemUgPT09IDApIHJldHVybjtcbiAgaWYgKHZpZXcgPT09ICdyYXcnKSB0ZXJtaW5hbC5wcmludChwcmludGFibGUoaGlkZShyZWNlaXZlZC50ZXh0KSkucmVwbGFjZSgvXFxuJC8sICcnKSk7XG4gIGVsc2UgaWYgKHZpZXcgPT09ICdvdXRsaW5lJykgdGVybWluYWwucHJpbnQob3V0bGluZVRleHQocmVjZWl2ZWQsIHRlcm1pbmFsLCBoaWRlKSk7XG4gIGVsc2UgaWYgKHZpZXcgPT09ICd0YWJsZScpIHtcbiAgICBjb25zdCBjb250ZW50ID0gdGFibGVDb250ZW50KHJlY2VpdmVkLCB0YWJsZSk7XG4gICAgaWYgKHRvICE9PSB1bmRlZmluZWQpIHtcbiAgICAgIGF3YWl0IHdyaXRlVGFibGUoY29udGVudCwgdG8pO1xuICAgICAgdGVybWluYWwubm90ZShgJHtjb250ZW50Lml0ZW1zLmxlbmd0aH0gcm93cyBvZiAke2NvbnRlbnQuYXR9IHdyaXR0ZW4gdG8gJHt0b31gKTtcbiAgICAgIHJldHVybjtcbiAgICB9XG4gICAgdGVybWluYWwucHJpbnQodGFibGVUZXh0KGNvbnRlbnQsIHRhYmxlLm1vc3QsIHRlcm1pbmFsLCBoaWRlKSk7XG4gICAgY29uc3QgbW9yZSA9IGNvbnRlbnQuaXRlbXMubGVuZ3RoIC0gdGFibGUubW9zdDtcbiAgICBpZiAobW9yZSA+IDApIHRlcm1pbmFsLm5vdGUoYGFuZCAke21vcmV9IG1vcmUgcm93cyBvZiAke2NvbnRlbnQuYXR9OiAtLW1vc3QgJHtjb250ZW50Lml0ZW1zLmxlbmd0aH1gKTtcbiAgICBpZiAoY29udGVudC5vdGhlcnMubGVuZ3RoID4gMCkge1xuICAgICAgY29uc3Qgb3RoZXJzID0gY29udGVudC5vdGhlcnMuc2xpY2UoMCwgNCkubWFwKCh7IGF0LCBpdGVtcyB9KSA9PiBgJHthdH0gKCR7aXRlbXMubGVuZ3RofSlgKTtcbiAgICAgIHRlcm1pbmFsLm5vdGUoYHRoZSBsYXJnZXN0IGxpc3QsICR7Y29udGVudC5hdH0sIGlzIHNob3duOyBvdGhlciBsaXN0cyBhcmUgJHtvdGhlcnMuam9pbignLCAnKX06IC0tcm93c2ApO1xuICAgIH1cbiAgfSBlbHNlIHtcbiAgICBjb25zdCB0ZXh0ID0gcHJldHR5VGV4dChyZWNlaXZlZCwgdGVybWluYWwub3V0LCBoaWRlKTtcbiAgICBpZiAodGV4dCAhPT0gJycpIHRlcm1pbmFsLnByaW50KHRleHQpO1xuICB9XG59XG5cbi8qKiBUaGUgd2hvbGUgdGFibGU6IGFzIG1hbnkgbGluZXMgYXMgdGhlcmUgYXJlIGl0ZW1zLiAqL1xuYXN5bmMgZnVuY3Rpb24gd3JpdGVUYWJsZSh7IGl0ZW1zLCBoZWFkLCBwYXRocyB9OiBUYWJsZUNvbnRlbnQsIHRvOiBzdHJpbmcpOiBQcm9taXNlPHZvaWQ+IHtcbiAgY29uc3Qgd3JpdGVyID0gYXdhaXQgdGFibGVXcml0ZXIodG8sIGhlYWQpO1xuICBmb3IgKGNvbnN0IGl0ZW0gb2YgaXRlbXMpIHtcbiAgICBjb25zdCBjZWxscyA9IGhlYWQubWFwKChuYW1lLCBpbmRleCkgPT4gW25hbWUsIGNlbGxJbihpdGVtLCBwYXRoc1tpbmRleF0gYXMgc3RyaW5nKSA/PyBudWxsXSBhcyBjb25zdCk7XG4gICAgYXdhaXQgd3JpdGVyLmFkZChPYmplY3QuZnJvbUVudHJpZXMoY2VsbHMpKTtcbiAgfVxuICBhd2FpdCB3cml0ZXIuZmluaXNoKCk7XG59XG5cbi8qKiBXaGF0IGEgcmVhZGVyIHNob3VsZCBrbm93IGJlc2lkZSB0aGUgYm9keS4gKi9cbmZ1bmN0aW9uIHRlbGxNb3JlKHJlY2VpdmVkOiBSZWNlaXZlZCwgdGVybWluYWw6IFRlcm1pbmFsKTogdm9pZCB7XG4gIGlmIChyZWNlaXZlZC5wYXJ0cy5ib2R5Lmxlbmd0aCA+IDJlNikgcmV0dXJuO1xuICBpZiAocmVjZWl2ZWQuY2xhaW1zSnNvbiAmJiByZWNlaXZlZC50ZXh0dWFsKSB7XG4gICAgZm9yIChjb25zdCBrZXkgb2YgZHVwbGljYXRlS2V5cyhyZWNlaXZlZC50ZXh0KS5zbGljZSgwLCAzKSlcbiAgICAgIHRlcm1pbmFsLm5vdGUoYCR7dGVybWluYWwuZXJyLnllbGxvdygnd2FybmluZycpfSAgJHtrZXl9IHN0YW5kcyB0d2ljZSBpbiB0aGUgYW5zd2VyOyB0aGUgbGFzdCBvbmUgY291bnRzYCk7XG4gIH1cbiAgY29uc3QgbGlua3MgPSBzYWZlTGlua3MocmVjZWl2ZWQpO1xuICBpZiAobGlua3MgPiAwKVxuICAgIHRlcm1pbmFsLm5vdGUoXG4gICAgICB0ZXJtaW5hbC5lcnIuZGltKGBsaW5rcyAgICR7bGlua3N9OiBlY2hvLXRyYWlsIGZvbGxvdyBsaXN0cyB0aGVtLCBlY2hvLXRyYWlsIGZvbGxvdyAxIHNlbmRzIHRoZSBmaXJzdGApLFxuICAgICk7XG59XG5cbmZ1bmN0aW9uIHNhZmVMaW5rcyhyZWNlaXZlZDogUmVjZWl2ZWQpOiBudW1iZXIge1xuICBpZiAoIXJlY2VpdmVkLnRleHR1YWwpIHJldHVybiAwO1xuICBsZXQganNvbjogVmFsdWUgfCB1bmRlZmluZWQ7XG4gIHRyeSB7XG4gICAganNvbiA9IHJlY2VpdmVkLmNsYWltc0pzb24gPyByZWNlaXZlZC5qc29uKCkgOiB1bmRlZmluZWQ7XG4gIH0gY2F0Y2gge1xuICAgIHJldHVybiAwO1xuICB9XG4gIHJldHVybiBsaW5rc09mKHJlY2VpdmVkLCBqc29uKS5sZW5ndGg7XG59XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBQ0EsU0FBUyxpQkFBaUI7QUEyQ25CLFNBQVMsYUFDZCxFQUFFLFFBQVEsS0FBSyxTQUFTLE9BQU8sTUFBTSxPQUFPLFNBQVMsU0FBUyxXQUFXLFFBQVEsR0FDakYsWUFDK0M7QUFDL0MsUUFBTSxPQUFPLE9BQU8sS0FBSztBQUN6QixRQUFNLFVBQW1DO0FBQUEsSUFDdkMsUUFBUSxPQUFPLFlBQVk7QUFBQSxJQUMzQixLQUFLLFlBQVksR0FBRztBQUFBLElBQ3BCLEdBQUksTUFBTSxTQUFTLEtBQUssRUFBRSxPQUFPLE1BQU0sT0FBTyxLQUFLLG9CQUFvQixFQUFFO0FBQUEsSUFDekUsR0FBSSxRQUFRLFNBQVMsS0FBSyxFQUFFLFNBQVMsTUFBTSxTQUFTLEtBQUssd0JBQXdCLEVBQUU7QUFBQSxJQUNuRixHQUFJLFlBQVksVUFBYSxFQUFFLFFBQVE7QUFBQSxJQUN2QyxHQUFJLFdBQVcsRUFBRSxTQUFTLE1BQU0sU0FBUyxLQUFLLHFCQUFxQixFQUFFO0FBQUEsSUFDckUsR0FBSSxjQUFjLFVBQWEsRUFBRSxXQUFXLGNBQWMsU0FBUyxFQUFFO0FBQUEsSUFDckUsR0FBSSxZQUFZLFVBQWEsRUFBRSxTQUFTLEVBQUUsT0FBTyxhQUFhLE9BQU8sRUFBRSxFQUFFO0FBQUEsSUFDekUsR0FBSSxRQUFRLEVBQUUsS0FBSztBQUFBLEVBQ3JCO0FBQ0EsUUFBTSxPQUFPLG1DQUFtQyxVQUFVO0FBQUEsRUFBSyxVQUFVLFNBQVMsRUFBRSxXQUFXLEVBQUUsQ0FBQyxDQUFDO0FBQ25HLFFBQU0sT0FBTyxVQUFVLE1BQU0sa0JBQWtCO0FBQy9DLFNBQU8sRUFBRSxNQUFNLFFBQVEsRUFBRSxNQUFNLGdCQUFnQixNQUFNLFNBQVMsT0FBTyxhQUFhLElBQUksRUFBRSxFQUFFO0FBQzVGO0FBRUEsU0FBUyxjQUFjLE1BQStCO0FBQ3BELE1BQUksU0FBUyxPQUFRLFFBQU87QUFDNUIsTUFBSSxRQUFRLEtBQUssSUFBSSxFQUFHLFFBQU8sT0FBTyxJQUFJO0FBQzFDLFFBQU0sSUFBSSxRQUFRLFNBQVMsRUFBRSxNQUFNLDJDQUEyQyxJQUFJLEdBQUcsQ0FBQztBQUN4RjtBQUVBLFNBQVMsYUFBYSxNQUFzQjtBQUMxQyxNQUFJLGNBQWMsSUFBSSxNQUFNLE9BQVcsUUFBTztBQUM5QyxRQUFNLElBQUksUUFBUSxTQUFTLEVBQUUsTUFBTSxzRUFBc0UsSUFBSSxHQUFHLENBQUM7QUFDbkg7QUFHQSxTQUFTLFlBQVksS0FBcUI7QUFDeEMsUUFBTUEsU0FBUSxJQUFJLFdBQVcsS0FBSyxLQUFLLEVBQUUsV0FBVyxLQUFLLEtBQUs7QUFDOUQsU0FBT0EsT0FBTSxXQUFXLEdBQUcsSUFBSSxhQUFhQSxNQUFLLEtBQUtBO0FBQ3hEO0FBRUEsU0FBUyxNQUNQLE9BQ0EsTUFDQSxNQUNBLE9BQTRCLFNBQ0g7QUFDekIsUUFBTSxNQUEyQixDQUFDO0FBQ2xDLGFBQVcsUUFBUSxPQUFPO0FBQ3hCLFVBQU0sS0FBSyxLQUFLLFFBQVEsSUFBSTtBQUM1QixRQUFJLE1BQU07QUFDUixZQUFNLElBQUksUUFBUSxTQUFTLEVBQUUsTUFBTSxHQUFHLEtBQUssVUFBVSxJQUFJLENBQUMsOEJBQThCLFFBQVEsS0FBSyxDQUFDO0FBQ3hHLFVBQU0sT0FBTyxLQUFLLE1BQU0sR0FBRyxFQUFFLEVBQUUsS0FBSztBQUNwQyxVQUFNLFFBQVEsU0FBUyxNQUFNLEtBQUssTUFBTSxLQUFLLENBQUMsRUFBRSxLQUFLLElBQUksS0FBSyxNQUFNLEtBQUssQ0FBQztBQUMxRSxRQUFJLElBQUksSUFBSSxDQUFDLEdBQUksSUFBSSxJQUFJLEtBQUssQ0FBQyxHQUFJLEtBQUssS0FBSyxDQUFDO0FBQUEsRUFDaEQ7QUFDQSxTQUFPLE9BQU87QUFBQSxJQUNaLE9BQU8sUUFBUSxHQUFHLEVBQUUsSUFBSSxDQUFDLENBQUMsTUFBTSxNQUFNLE1BQU0sQ0FBQyxNQUFNLE9BQU8sV0FBVyxJQUFLLE9BQU8sQ0FBQyxJQUFVLE1BQU0sQ0FBQztBQUFBLEVBQ3JHO0FBQ0Y7QUFFQSxTQUFTLE9BQU8sT0FBdUQ7QUFDckUsUUFBTSxFQUFFLE1BQU0sTUFBTSxNQUFNLFVBQVUsS0FBSyxTQUFTLFdBQVcsTUFBTSxZQUFZLE1BQU0sT0FBTyxVQUFVLElBQUk7QUFDMUcsUUFBTSxZQUFZLFVBQVUsVUFBYSxjQUFjO0FBQ3ZELFFBQU0sUUFBUSxDQUFDLE1BQU0sTUFBTSxNQUFNLFVBQVUsS0FBSyxTQUFTLE1BQU0sTUFBTSxhQUFhLE1BQVM7QUFDM0YsTUFBSSxNQUFNLE9BQU8sQ0FBQyxTQUFTLFNBQVMsTUFBUyxFQUFFLFNBQVMsR0FBRztBQUN6RCxVQUFNLElBQUksUUFBUSxTQUFTO0FBQUEsTUFDekIsTUFBTTtBQUFBLE1BQ04sUUFDRTtBQUFBLElBQ0osQ0FBQztBQUFBLEVBQ0g7QUFDQSxNQUFJLGFBQWEsWUFBWTtBQUMzQixVQUFNLElBQUksUUFBUSxTQUFTLEVBQUUsTUFBTSxrQ0FBa0MsUUFBUSxxQkFBcUIsQ0FBQztBQUNyRyxNQUFJLGVBQWUsVUFBYSxTQUFTO0FBQ3ZDLFVBQU0sSUFBSSxRQUFRLFNBQVMsRUFBRSxNQUFNLGtDQUFrQyxRQUFRLGtCQUFrQixDQUFDO0FBQ2xHLE1BQUksYUFBYSxPQUFXLFFBQU8sRUFBRSxTQUFTO0FBQzlDLE1BQUksUUFBUSxPQUFXLFFBQU8sRUFBRSxLQUFLLFFBQVEsR0FBRyxFQUFFO0FBQ2xELE1BQUksWUFBWSxRQUFXO0FBQ3pCLFVBQU0sUUFBUSxNQUFNLGFBQWEsQ0FBQyxHQUFHLEtBQUsseUJBQXlCLFVBQVU7QUFDN0UsV0FBTyxFQUFFLFNBQVMsRUFBRSxVQUFVLFFBQVEsT0FBTyxHQUFHLEdBQUksYUFBYSxFQUFFLFdBQVcsTUFBTSxFQUFHLEVBQUU7QUFBQSxFQUMzRjtBQUNBLE1BQUksU0FBUyxPQUFXLFFBQU8sRUFBRSxNQUFNLEVBQUUsVUFBVSxRQUFRLElBQUksR0FBRyxHQUFJLGNBQWMsRUFBRSxRQUFRLFdBQVcsRUFBRyxFQUFFO0FBQzlHLE1BQUksU0FBUyxPQUFXLFFBQU8sRUFBRSxNQUFNLFFBQVEsV0FBVyxJQUFJLENBQUMsRUFBRTtBQUNqRSxNQUFJLFNBQVMsT0FBVyxRQUFPLEVBQUUsTUFBTSxRQUFRLElBQUksRUFBRTtBQUNyRCxNQUFJLFNBQVMsT0FBVyxRQUFPLEVBQUUsTUFBTSxRQUFRLElBQUksRUFBRTtBQUNyRCxNQUFJLFNBQVMsT0FBVyxRQUFPLEVBQUUsTUFBTSxNQUFNLE1BQU0sS0FBSyxtQkFBbUIsRUFBRTtBQUM3RSxNQUFJLENBQUMsVUFBVyxRQUFPO0FBQ3ZCLFFBQU0sUUFBUSxPQUFPLFFBQVEsTUFBTSxhQUFhLENBQUMsR0FBRyxLQUFLLHVCQUF1QixDQUFDLEVBQUUsSUFBSSxDQUFDLENBQUMsTUFBTSxLQUFLLE1BQU07QUFDeEcsVUFBTSxNQUFNLENBQUMsS0FBSyxFQUFFLEtBQUssRUFBRSxJQUFJLENBQUMsVUFBVSxFQUFFLE1BQU0sS0FBSyxFQUFFO0FBQ3pELFdBQU8sQ0FBQyxNQUFNLElBQUksV0FBVyxJQUFJLElBQUksQ0FBQyxJQUFJLEdBQUc7QUFBQSxFQUMvQyxDQUFDO0FBQ0QsU0FBTyxFQUFFLE9BQU8sRUFBRSxHQUFHLE1BQU0sU0FBUyxDQUFDLEdBQUcsS0FBSyxtQkFBbUIsR0FBRyxHQUFHLE9BQU8sWUFBWSxLQUFLLEVBQUUsRUFBRTtBQUNwRztBQUdBLFNBQVMsV0FBVyxNQUFxQjtBQUN2QyxNQUFJO0FBQ0YsV0FBTyxRQUFRLEtBQUssTUFBTSxJQUFJLENBQVU7QUFBQSxFQUMxQyxRQUFRO0FBQ04sV0FBTyxRQUFRLElBQUk7QUFBQSxFQUNyQjtBQUNGO0FBRUEsU0FBUyxXQUFXLE1BQXFCO0FBQ3ZDLE1BQUk7QUFDRixXQUFPLEtBQUssTUFBTSxJQUFJO0FBQUEsRUFDeEIsU0FBUyxPQUFPO0FBQ2QsVUFBTSxJQUFJLFFBQVEsU0FBUztBQUFBLE1BQ3pCLE1BQU07QUFBQSxNQUNOLE9BQVEsTUFBZ0I7QUFBQSxNQUN4QixRQUFRO0FBQUEsSUFDVixDQUFDO0FBQUEsRUFDSDtBQUNGO0FBRUEsU0FBUyxRQUFRLE9BQXFCO0FBQ3BDLE1BQUksT0FBTyxVQUFVLFNBQVUsUUFBTyxRQUFRLEtBQUs7QUFDbkQsTUFBSSxNQUFNLFFBQVEsS0FBSyxFQUFHLFFBQU8sTUFBTSxJQUFJLE9BQU87QUFDbEQsTUFBSSxPQUFPLFVBQVUsWUFBWSxVQUFVLEtBQU0sUUFBTztBQUN4RCxTQUFPLE9BQU8sWUFBWSxPQUFPLFFBQVEsS0FBOEIsRUFBRSxJQUFJLENBQUMsQ0FBQyxLQUFLLElBQUksTUFBTSxDQUFDLEtBQUssUUFBUSxJQUFJLENBQUMsQ0FBQyxDQUFDO0FBQ3JIO0FBR0EsSUFBTSxVQUFVLENBQUMsU0FBeUIsS0FBSyxXQUFXLE1BQU0sTUFBTSxLQUFLOzs7QUNwSzNFLFNBQVMsa0JBQWtCO0FBYXBCLElBQU0sUUFBUSxDQUFDLFVBQVUsT0FBTyxXQUFXLFdBQVcsU0FBUyxNQUFNO0FBZ0JyRSxTQUFTLFdBQVcsVUFBb0IsU0FBa0IsTUFBb0I7QUFDbkYsTUFBSSxTQUFTLFNBQVMsS0FBSyxTQUFTLE1BQU0sS0FBSyxXQUFXLEVBQUcsUUFBTztBQUNwRSxNQUFJLENBQUMsU0FBUyxRQUFTLFFBQU8sVUFBVSxVQUFVLE9BQU87QUFDekQsTUFBSSxTQUFTLGNBQWMsV0FBVyxLQUFLLFNBQVMsSUFBSSxHQUFHO0FBQ3pELFFBQUk7QUFDRixhQUFPLGFBQWEsU0FBUyxLQUFLLEdBQUcsU0FBUyxJQUFJO0FBQUEsSUFDcEQsUUFBUTtBQUFBLElBRVI7QUFBQSxFQUNGO0FBQ0EsUUFBTSxPQUFPLFVBQVUsS0FBSyxTQUFTLElBQUksQ0FBQztBQUMxQyxTQUFPLFdBQVcsS0FBSyxTQUFTLFNBQVMsSUFBSSxRQUFRLElBQUksSUFBSTtBQUMvRDtBQUdBLFNBQVMsUUFBUSxLQUFxQjtBQUNwQyxNQUFJLGFBQWEsS0FBSyxHQUFHLEVBQUcsUUFBTyxJQUFJLFFBQVE7QUFDL0MsTUFBSSxRQUFRO0FBQ1osU0FBTyxJQUNKLFFBQVEsVUFBVSxNQUFNLEVBQ3hCLE1BQU0sSUFBSSxFQUNWLElBQUksQ0FBQyxTQUFTO0FBQ2IsUUFBSSxPQUFPLEtBQUssSUFBSSxFQUFHLFNBQVEsS0FBSyxJQUFJLEdBQUcsUUFBUSxDQUFDO0FBQ3BELFVBQU0sUUFBUSxLQUFLLE9BQU8sS0FBSyxJQUFJO0FBQ25DLFFBQUksc0JBQXNCLEtBQUssSUFBSSxLQUFLLGFBQWEsS0FBSyxJQUFJLEVBQUcsVUFBUztBQUMxRSxXQUFPO0FBQUEsRUFDVCxDQUFDLEVBQ0EsS0FBSyxJQUFJO0FBQ2Q7QUFFQSxJQUFNLGFBQWE7QUFHbkIsU0FBUyxVQUFVLEVBQUUsT0FBTyxFQUFFLEtBQUssR0FBRyxVQUFVLEdBQWEsU0FBMEI7QUFDckYsUUFBTSxTQUFTLFdBQVcsUUFBUSxFQUFFLE9BQU8sSUFBSSxFQUFFLE9BQU8sS0FBSztBQUM3RCxRQUFNLFFBQVEsQ0FBQyxHQUFHLGFBQWEsT0FBTyxLQUFLLFNBQVMsS0FBSyxNQUFNLENBQUMsYUFBYSxNQUFNLEVBQUU7QUFDckYsV0FBUyxLQUFLLEdBQUcsS0FBSyxLQUFLLElBQUksS0FBSyxRQUFRLFVBQVUsR0FBRyxNQUFNLElBQUk7QUFDakUsVUFBTSxNQUFNLENBQUMsR0FBRyxLQUFLLFNBQVMsSUFBSSxLQUFLLElBQUksS0FBSyxJQUFJLFVBQVUsQ0FBQyxDQUFDO0FBQ2hFLFVBQU0sTUFBTSxJQUFJLElBQUksQ0FBQyxTQUFTLEtBQUssU0FBUyxFQUFFLEVBQUUsU0FBUyxHQUFHLEdBQUcsQ0FBQyxFQUFFLEtBQUssR0FBRztBQUMxRSxVQUFNLE9BQU8sSUFBSSxJQUFJLENBQUMsU0FBVSxRQUFRLE1BQVEsT0FBTyxNQUFPLE9BQU8sYUFBYSxJQUFJLElBQUksR0FBSSxFQUFFLEtBQUssRUFBRTtBQUN2RyxVQUFNLEtBQUssR0FBRyxRQUFRLElBQUksR0FBRyxTQUFTLEVBQUUsRUFBRSxTQUFTLEdBQUcsR0FBRyxDQUFDLENBQUMsS0FBSyxJQUFJLE9BQU8sRUFBRSxDQUFDLEtBQUssSUFBSSxFQUFFO0FBQUEsRUFDM0Y7QUFDQSxNQUFJLEtBQUssU0FBUyxXQUFZLE9BQU0sS0FBSyxRQUFRLElBQUksT0FBTyxLQUFLLFNBQVMsVUFBVSxhQUFhLENBQUM7QUFDbEcsU0FBTyxNQUFNLEtBQUssSUFBSTtBQUN4QjtBQUdPLFNBQVMsWUFBWSxNQUFtQixVQUFnQyxVQUFvQixNQUFvQjtBQUNySCxRQUFNLEVBQUUsSUFBSSxJQUFJO0FBQ2hCLFFBQU0sT0FBTztBQUFBLElBQ1gsS0FBSyxRQUFRLElBQUksQ0FBQyxFQUFFLE1BQU0sT0FBTyxRQUFRLE9BQU8sTUFBTTtBQUFBLE1BQ3BELElBQUksS0FBSyxjQUFjLElBQUksQ0FBQztBQUFBLE1BQzVCLFNBQVMsU0FBUyxLQUFLLGNBQWMsS0FBSyxDQUFDO0FBQUEsTUFDM0MsSUFBSSxJQUFJLE1BQU07QUFBQSxJQUNoQixDQUFDO0FBQUEsSUFDRDtBQUFBLElBQ0EsRUFBRSxRQUFRLEdBQUcsVUFBVSxDQUFDLENBQUMsRUFBRTtBQUFBLEVBQzdCO0FBQ0EsUUFBTSxTQUFTLENBQUMsR0FBRyxJQUFJLEtBQUssTUFBTSxDQUFDLEtBQUssS0FBSyxNQUFNLElBQUksY0FBYyxLQUFLLEtBQUssUUFBUSxDQUFDLENBQUM7QUFBQSxFQUFLLElBQUksRUFBRTtBQUNwRyxNQUFJLFVBQVU7QUFDWixVQUFNLEVBQUUsT0FBTyxVQUFVLEtBQUssVUFBVSxjQUFjLElBQUksU0FBUztBQUNuRSxlQUFXLEVBQUUsUUFBUSxRQUFRLEtBQUs7QUFDaEMsYUFBTyxLQUFLLEdBQUcsSUFBSSxLQUFLLFFBQVEsTUFBTSxFQUFFLENBQUM7QUFBQSxFQUFLLFlBQVksU0FBUyxVQUFVLElBQUksQ0FBQyxFQUFFO0FBQ3RGLFdBQU87QUFBQSxNQUNMLEdBQUcsSUFBSSxLQUFLLFVBQVUsQ0FBQyxLQUFLLFFBQVEsR0FBRyxrQkFBa0IsU0FBWSxLQUFLLFNBQVMsYUFBYSxFQUFFO0FBQUEsRUFBSyxZQUFZLFNBQVMsU0FBUyxVQUFVLElBQUksQ0FBQztBQUFBLElBQ3RKO0FBQ0EsUUFBSSxTQUFTLFNBQVMsRUFBRyxRQUFPLEtBQUssR0FBRyxJQUFJLEtBQUssVUFBVSxDQUFDO0FBQUEsRUFBSyxZQUFZLFVBQVUsVUFBVSxJQUFJLENBQUMsRUFBRTtBQUN4RyxRQUFJLEtBQUs7QUFDUCxZQUFNLEVBQUUsWUFBWSxJQUFJO0FBQ3hCLFlBQU0sUUFBUTtBQUFBLFFBQ1osQ0FBQyxXQUFXLEdBQUcsSUFBSSxRQUFRLEtBQUssSUFBSSxNQUFNLEVBQUU7QUFBQSxRQUM1QyxHQUFJLGNBQ0E7QUFBQSxVQUNFLENBQUMsZUFBZSxHQUFHLFlBQVksT0FBTyxTQUFTLFlBQVksTUFBTSxLQUFLLElBQUksQ0FBQyxFQUFFO0FBQUEsVUFDN0UsQ0FBQyxVQUFVLFlBQVksTUFBTTtBQUFBLFVBQzdCLENBQUMsUUFBUSxHQUFHLFlBQVksS0FBSyxNQUFNLEdBQUcsRUFBRSxDQUFDLE9BQU8sWUFBWSxNQUFNLE1BQU0sR0FBRyxFQUFFLENBQUMsRUFBRTtBQUFBLFVBQ2hGLENBQUMsV0FBVyxZQUFZLFdBQVc7QUFBQSxRQUNyQyxJQUNBLENBQUM7QUFBQSxNQUNQO0FBQ0EsYUFBTztBQUFBLFFBQ0wsR0FBRyxJQUFJLEtBQUssS0FBSyxDQUFDO0FBQUEsRUFBSztBQUFBLFVBQ3JCLE1BQU0sSUFBSSxDQUFDLENBQUMsT0FBTyxJQUFJLFFBQVEsRUFBRSxNQUFNLENBQUMsSUFBSSxLQUFLLElBQUksR0FBRyxjQUFjLEtBQUssQ0FBQyxDQUFDO0FBQUEsVUFDN0U7QUFBQSxVQUNBLEVBQUUsUUFBUSxFQUFFO0FBQUEsUUFDZCxDQUFDO0FBQUEsTUFDSDtBQUFBLElBQ0Y7QUFBQSxFQUNGO0FBQ0EsU0FBTyxPQUFPLEtBQUssTUFBTTtBQUMzQjtBQUVBLElBQU0sZUFBZTtBQUdkLFNBQVMsWUFBWSxVQUFvQixFQUFFLElBQUksR0FBYSxNQUFvQjtBQUNyRixRQUFNLFFBQWtCLENBQUM7QUFDekIsUUFBTSxNQUFNLENBQUMsT0FBYyxNQUFjLFVBQXdCO0FBQy9ELFVBQU0sU0FBUyxLQUFLLE9BQU8sS0FBSztBQUNoQyxRQUFJLE1BQU0sUUFBUSxLQUFLLEdBQUc7QUFDeEIsWUFBTSxRQUFRO0FBQ2QsWUFBTSxLQUFLLEdBQUcsTUFBTSxHQUFHLElBQUksS0FBSyxJQUFJLElBQUksV0FBVyxNQUFNLE1BQU0sRUFBRSxDQUFDLEVBQUU7QUFDcEUsVUFBSSxNQUFNLFNBQVMsS0FBSyxRQUFRLGFBQWMsS0FBSSxNQUFNLENBQUMsR0FBWSxJQUFJLElBQUksTUFBTSxHQUFHLFFBQVEsQ0FBQztBQUFBLElBQ2pHLFdBQVcsV0FBVyxLQUFLLEdBQUc7QUFDNUIsWUFBTSxLQUFLLEdBQUcsTUFBTSxHQUFHLElBQUksS0FBSyxJQUFJLElBQUksR0FBRyxPQUFPLEtBQUssS0FBSyxFQUFFLE1BQU0sVUFBVSxDQUFDLEVBQUU7QUFDakYsVUFBSSxRQUFRO0FBQ1YsbUJBQVcsQ0FBQyxLQUFLLEtBQUssS0FBSyxPQUFPLFFBQVEsS0FBSyxFQUFHLEtBQUksT0FBTyxJQUFJLEtBQUssY0FBYyxHQUFHLENBQUMsR0FBRyxRQUFRLENBQUM7QUFBQSxJQUN4RyxPQUFPO0FBQ0wsWUFBTSxPQUFPLE9BQU8sVUFBVSxXQUFXLEtBQUssVUFBVSxLQUFLLElBQUksU0FBUyxLQUFLLEtBQUs7QUFDcEYsWUFBTSxRQUFRLEtBQUssSUFBSTtBQUN2QixZQUFNO0FBQUEsUUFDSixHQUFHLE1BQU0sR0FBRyxJQUFJLEtBQUssSUFBSSxJQUFJLE9BQU8sS0FBSyxDQUFDLENBQUMsS0FBSyxjQUFjLE1BQU0sU0FBUyxLQUFLLEdBQUcsTUFBTSxNQUFNLEdBQUcsRUFBRSxDQUFDLFdBQU0sS0FBSyxDQUFDO0FBQUEsTUFDckg7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNBLE1BQUksU0FBUyxLQUFLLEdBQUcsS0FBSyxDQUFDO0FBQzNCLFNBQU8sTUFBTSxLQUFLLElBQUk7QUFDeEI7QUFZTyxTQUFTLGFBQWEsVUFBb0IsRUFBRSxNQUFNLFVBQVUsUUFBUSxHQUE0QjtBQUNyRyxRQUFNLFFBQVEsUUFBUSxTQUFTLEtBQUssQ0FBQztBQUNyQyxRQUFNLFNBQVMsT0FBTyxRQUFRO0FBQzlCLE1BQUksUUFBUSxDQUFDLE1BQU0sUUFBUSxNQUFNLEdBQUc7QUFDbEMsVUFBTSxJQUFJLFFBQVEsbUJBQW1CO0FBQUEsTUFDbkMsTUFBTSxxQkFBcUIsUUFBUTtBQUFBLE1BQ25DLFFBQ0UsTUFBTSxTQUFTLElBQ1gsZ0JBQWdCLE1BQ2IsTUFBTSxHQUFHLENBQUMsRUFDVixJQUFJLENBQUMsRUFBRSxHQUFHLE1BQU0sRUFBRSxFQUNsQixLQUFLLElBQUksQ0FBQyxLQUNiO0FBQUEsSUFDUixDQUFDO0FBQUEsRUFDSDtBQUNBLFFBQU0sUUFBUSxNQUFNLENBQUM7QUFDckIsTUFBSSxDQUFDLFFBQVEsQ0FBQyxPQUFPO0FBQ25CLFVBQU0sSUFBSSxRQUFRLG1CQUFtQjtBQUFBLE1BQ25DLE1BQU07QUFBQSxNQUNOLFFBQVE7QUFBQSxJQUNWLENBQUM7QUFBQSxFQUNIO0FBQ0EsUUFBTSxRQUFTLFVBQTJDLE9BQU8sU0FBUyxDQUFDO0FBQzNFLFFBQU0sUUFBUSxVQUFVLENBQUMsR0FBRyxRQUFRLE9BQU8sQ0FBQyxJQUFJLFVBQVUsS0FBSztBQUMvRCxTQUFPO0FBQUEsSUFDTCxJQUFJLFlBQVksT0FBTyxNQUFNO0FBQUEsSUFDN0I7QUFBQSxJQUNBLE1BQU0sVUFBVSxDQUFDLEdBQUcsUUFBUSxLQUFLLENBQUMsSUFBSTtBQUFBLElBQ3RDO0FBQUEsSUFDQSxRQUFRLE9BQU8sQ0FBQyxJQUFJLE1BQU0sTUFBTSxDQUFDO0FBQUEsRUFDbkM7QUFDRjtBQUVPLFNBQVMsVUFBVSxFQUFFLE1BQU0sT0FBTyxNQUFNLEdBQWlCQyxPQUFjLFVBQW9CLE1BQW9CO0FBQ3BILFFBQU0sT0FBTyxNQUNWLE1BQU0sR0FBR0EsS0FBSSxFQUNiLElBQUksQ0FBQyxTQUFTLE1BQU0sSUFBSSxDQUFDLFNBQVMsY0FBYyxLQUFLLFNBQVMsU0FBUyxLQUFLLE9BQU8sT0FBTyxNQUFNLElBQUksQ0FBQyxDQUFDLENBQUMsQ0FBQyxDQUFDO0FBQzVHLFNBQU8sTUFBTSxNQUFNLFVBQVUsRUFBRSxNQUFNLFVBQVUsS0FBSyxJQUFJLENBQUMsR0FBRyxVQUFVLEtBQUssRUFBRSxDQUFDO0FBQ2hGOzs7QUNqTUEsU0FBUyxZQUFZO0FBQ3JCO0FBQUEsRUFDRTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFFQTtBQUFBLE9BQ0s7QUFDUCxTQUFTLFNBQVMsZUFBZTtBQUVqQyxTQUFTLFVBQVUsZ0JBQWdCO0FBQ25DLFlBQVksT0FBTztBQVNuQixTQUFTLGVBQWUsTUFBb0I7QUFDMUMsUUFBTSxTQUFTLFFBQVEsUUFBUSxJQUFJLENBQUM7QUFDcEMsTUFBSSxDQUFDLFdBQVcsTUFBTSxHQUFHO0FBQ3ZCLFVBQU0sSUFBSSxRQUFRLFNBQVM7QUFBQSxNQUN6QixNQUFNLFFBQVEsSUFBSSx3QkFBd0IsTUFBTTtBQUFBLE1BQ2hELFFBQVE7QUFBQSxJQUNWLENBQUM7QUFBQSxFQUNIO0FBQ0EsTUFBSSxXQUFXLElBQUksS0FBSyxDQUFDLFNBQVMsSUFBSSxFQUFFLE9BQU87QUFDN0MsVUFBTSxJQUFJLFFBQVEsU0FBUyxFQUFFLE1BQU0sUUFBUSxJQUFJLHNCQUFzQixRQUFRLG9CQUFvQixDQUFDO0FBQ3RHO0FBR0EsSUFBTSxXQUFhLGVBQWEsRUFBRSxLQUFPLFNBQU8sRUFBRSxDQUFDO0FBVTVDLElBQU0sV0FBTixNQUErQjtBQUFBLEVBVXBDLFlBQ21CLE1BQ0EsVUFDakI7QUFGaUI7QUFDQTtBQUVqQixtQkFBZSxJQUFJO0FBQ25CLFNBQUssT0FBTyxHQUFHLElBQUk7QUFDbkIsU0FBSyxPQUFPLEdBQUcsSUFBSTtBQUFBLEVBQ3JCO0FBQUEsRUFObUI7QUFBQSxFQUNBO0FBQUEsRUFYbkIsUUFBUTtBQUFBLEVBQ1M7QUFBQSxFQUNBO0FBQUEsRUFDVCxTQUFTO0FBQUEsRUFDVDtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQSxZQUFZO0FBQUE7QUFBQSxFQVlwQixJQUFJLFFBQStCO0FBQ2pDLFVBQU0sUUFBUSxLQUFLLE1BQU07QUFDekIsUUFBSSxDQUFDLE1BQU8sUUFBTyxDQUFDO0FBQ3BCLFVBQU0sT0FBTyxDQUFDLE1BQWMsV0FBK0IsRUFBRSxNQUFNLE9BQU8sUUFBUSxRQUFRLFFBQVEsTUFBTTtBQUN4RyxXQUFPLENBQUMsS0FBSyxTQUFTLFNBQVMsU0FBUyxLQUFLLElBQUksRUFBRSxJQUFJLEdBQUcsR0FBRyxLQUFLLFlBQVksTUFBTSxHQUFHLENBQUM7QUFBQSxFQUMxRjtBQUFBLEVBRVEsUUFBMEI7QUFDaEMsUUFBSSxDQUFDLFdBQVcsS0FBSyxJQUFJLEtBQUssQ0FBQyxXQUFXLEtBQUssSUFBSSxFQUFHLFFBQU87QUFDN0QsUUFBSTtBQUNGLGFBQU8sU0FBUyxLQUFLLElBQUksRUFBRSxPQUFPLElBQUksU0FBUyxNQUFNLEtBQUssTUFBTSxhQUFhLEtBQUssTUFBTSxNQUFNLENBQUMsQ0FBQyxJQUFJO0FBQUEsSUFDdEcsUUFBUTtBQUNOLGFBQU87QUFBQSxJQUNUO0FBQUEsRUFDRjtBQUFBLEVBRUEsTUFBTSxRQUFnQixTQUF3RTtBQUM1RixRQUFJLFdBQVcsT0FBTyxXQUFXLElBQUssUUFBTztBQUM3QyxVQUFNLFNBQVMsQ0FBQyxTQUFxQyxRQUFRLEtBQUssQ0FBQyxDQUFDLEdBQUcsTUFBTSxJQUFJLFlBQVksTUFBTSxJQUFJLElBQUksQ0FBQztBQUM1RyxVQUFNLFNBQVMsV0FBVyxPQUFPLFdBQVcsS0FBSyxJQUFJLElBQUksU0FBUyxLQUFLLElBQUksRUFBRSxPQUFPO0FBQ3BGLFVBQU0sQ0FBQyxFQUFFLElBQUksSUFBSSxnQkFBZ0IsS0FBSyxPQUFPLGVBQWUsS0FBSyxFQUFFLEtBQUssQ0FBQztBQUN6RSxRQUFJLFdBQVcsT0FBTyxPQUFPLElBQUksTUFBTSxPQUFRLFFBQU87QUFDdEQsU0FBSyxTQUFTLE9BQU8sa0JBQWtCLEtBQUs7QUFDNUMsVUFBTSxNQUFNLE9BQU8sTUFBTTtBQUV6QixRQUFJLFFBQVEsVUFBYSxDQUFDLElBQUksV0FBVyxJQUFJLEtBQUssS0FBSyxXQUFXLElBQUk7QUFDcEUsb0JBQWMsS0FBSyxNQUFNLEtBQUssVUFBVSxFQUFFLElBQUksQ0FBZ0IsQ0FBQztBQUFBLElBQ2pFLE1BQU8sUUFBTyxLQUFLLE1BQU0sRUFBRSxPQUFPLEtBQUssQ0FBQztBQUN4QyxTQUFLLFFBQVE7QUFDYixTQUFLLFlBQVksS0FBSyxXQUFXLEtBQUssU0FBUyxPQUFPLE9BQU8sZ0JBQWdCLEtBQUssQ0FBQyxJQUFJO0FBQ3ZGLFNBQUssTUFBTSxrQkFBa0IsS0FBSyxNQUFNLEVBQUUsT0FBTyxTQUFTLElBQUksTUFBTSxJQUFJLENBQUM7QUFDekUsU0FBSyxJQUFJLEdBQUcsU0FBUyxDQUFDLEVBQUUsUUFBUSxNQUFNO0FBQ3BDLFdBQUssWUFBWSxJQUFJLFFBQVEsbUJBQW1CO0FBQUEsUUFDOUMsTUFBTSxzQ0FBc0MsS0FBSyxJQUFJO0FBQUEsUUFDckQsT0FBTztBQUFBLE1BQ1QsQ0FBQztBQUFBLElBQ0gsQ0FBQztBQUNELFdBQU87QUFBQSxFQUNUO0FBQUE7QUFBQSxFQUdRLFFBQVEsT0FBb0I7QUFDbEMsVUFBTSxNQUFNLEtBQUs7QUFDakIsVUFBTSxRQUFRLGNBQWMsT0FBTyxLQUFLLE1BQU07QUFDOUMsVUFBTSxDQUFDLElBQUksSUFBSTtBQUNmLFVBQU0sVUFBVSxPQUFPLFNBQVMsQ0FBQyxHQUFHLE9BQU8sR0FBRyxDQUFDLElBQUksU0FBUyxHQUFHO0FBQy9ELFVBQU0sR0FBRyxFQUFFLEdBQUcsR0FBRyxRQUFRLENBQUMsVUFBa0I7QUFDMUMsV0FBSyxTQUFTLE1BQU07QUFBQSxJQUN0QixDQUFDO0FBQ0QsWUFBUSxNQUFNLENBQUMsVUFBaUI7QUFDOUIsV0FBSyxZQUFZLFlBQVksS0FBSyxRQUFRLEtBQUs7QUFBQSxJQUNqRCxDQUFDO0FBQ0QsV0FBTyxFQUFFLE1BQU0sUUFBUSxLQUFLLFFBQVE7QUFBQSxFQUN0QztBQUFBLEVBRUEsTUFBTSxPQUEwQztBQUM5QyxRQUFJLEtBQUssUUFBUyxRQUFPLFFBQVEsT0FBTyxLQUFLLE9BQU87QUFDcEQsUUFBSTtBQUNGLFdBQUssUUFBUSxLQUFLLFFBQVEsS0FBSztBQUFBLElBQ2pDLFNBQVMsT0FBTztBQUNkLGFBQU8sUUFBUSxPQUFPLEtBQUs7QUFBQSxJQUM3QjtBQUNBLFVBQU0sRUFBRSxLQUFLLElBQUksS0FBSztBQUN0QixRQUFJLFNBQVMsS0FBSyxJQUFLLE1BQUssU0FBUyxNQUFNO0FBQzNDLFNBQUssU0FBUztBQUFBLE1BQ1osU0FBUyxTQUFTLEtBQUssS0FBSyxDQUFDLEdBQUcsS0FBSyxZQUFZLElBQUksT0FBTyxTQUFTLEtBQUssU0FBUyxDQUFDLEtBQUssRUFBRTtBQUFBLElBQzdGO0FBQ0EsUUFBSSxLQUFLLE1BQU0sS0FBSyxFQUFHLFFBQU87QUFDOUIsV0FBTyxLQUFLLE1BQU0sT0FBTyxFQUFFO0FBQUEsTUFDekIsTUFBTTtBQUFBLE1BQ04sQ0FBQyxVQUFpQixRQUFRLE9BQU8sS0FBSyxXQUFXLEtBQUs7QUFBQSxJQUN4RDtBQUFBLEVBQ0Y7QUFBQTtBQUFBO0FBQUE7QUFBQTtBQUFBO0FBQUEsRUFPQSxNQUFNLE9BQU8sT0FBOEM7QUFDekQsUUFBSSxDQUFDLEtBQUssSUFBSyxRQUFPO0FBQ3RCLFVBQU0sRUFBRSxNQUFNLFFBQVEsSUFBSSxLQUFLLE9BQU8sRUFBRSxNQUFNLEtBQUssS0FBSyxTQUFTLFNBQVMsS0FBSyxHQUFHLEVBQUU7QUFDcEYsU0FBSyxJQUFJO0FBQ1QsVUFBTSxRQUFRLE1BQU0sTUFBTSxNQUFTO0FBQ25DLFNBQUssU0FBUyxTQUFTLEVBQUU7QUFDekIsUUFBSSxDQUFDLE1BQU8sUUFBTztBQUNuQixRQUFJLEtBQUssUUFBUyxPQUFNLEtBQUs7QUFDN0IsZUFBVyxLQUFLLE1BQU0sS0FBSyxJQUFJO0FBQy9CLFdBQU8sS0FBSyxNQUFNLEVBQUUsT0FBTyxLQUFLLENBQUM7QUFDakMsV0FBTztBQUFBLEVBQ1Q7QUFDRjs7O0FDbEpPLFNBQVMsY0FBYyxTQUEyQjtBQUN2RCxTQUFPLFFBQ0osT0FBTyxvQkFBb0IsMEJBQTBCLEVBQ3JELE9BQU8saUJBQWlCLDRCQUE0QixFQUNwRCxPQUFPLGdCQUFnQiwrQ0FBK0MsRUFDdEUsT0FBTyxpQkFBaUIsNEJBQTRCLE1BQU0sS0FBSyxJQUFJLENBQUMsRUFBRSxFQUN0RSxPQUFPLGtCQUFrQixnREFBZ0QsRUFDekUsT0FBTyxrQkFBa0IsK0NBQStDLEVBQ3hFLE9BQU8scUJBQXFCLGdGQUFnRixFQUM1RyxPQUFPLG1CQUFtQix3Q0FBd0MsSUFBSSxFQUN0RTtBQUFBLElBQ0M7QUFBQSxJQUNBO0FBQUEsRUFDRixFQUNDLE9BQU8sb0JBQW9CLGtEQUFrRCxFQUM3RSxPQUFPLFVBQVUsMkJBQTJCLEVBQzVDLE9BQU8sd0JBQXdCLDJFQUEyRSxFQUMxRyxPQUFPLG1CQUFtQixvREFBb0Q7QUFDbkY7QUFhQSxlQUFzQixTQUNwQixTQUNBLFVBQ0EsVUFDaUI7QUFDakIsUUFBTSxNQUFNLFNBQVMsS0FBSyxRQUFRO0FBQ2xDLFFBQU0sV0FBWSxRQUFRLFFBQStCLEtBQUs7QUFDOUQsUUFBTSxhQUFhLFFBQVEsVUFBYSxRQUFRLFNBQVMsVUFBYSxRQUFRLFlBQVk7QUFDMUYsUUFBTSxPQUFRLFFBQVEsU0FBZ0MsYUFBYSxVQUFVO0FBQzdFLE1BQUksQ0FBRSxNQUE0QixTQUFTLElBQUksR0FBRztBQUNoRCxVQUFNLElBQUksUUFBUSxTQUFTO0FBQUEsTUFDekIsTUFBTSxvQkFBb0IsSUFBSTtBQUFBLE1BQzlCLFFBQVEsR0FBRyxZQUFZLE1BQU0sS0FBSyxDQUFDLGVBQWUsTUFBTSxLQUFLLElBQUksQ0FBQztBQUFBLElBQ3BFLENBQUM7QUFBQSxFQUNIO0FBQ0EsUUFBTUMsUUFBTyxZQUFZLFFBQVEsTUFBTSxVQUFVLEVBQUUsT0FBTyxFQUFFLENBQUM7QUFDN0QsUUFBTSxRQUFlLENBQUM7QUFDdEIsUUFBTSxTQUFTLFFBQVEsU0FBUyxTQUFZLFNBQVksVUFBVSxRQUFRLE1BQWdCLEtBQUs7QUFDL0YsUUFBTSxPQUFPLGFBQWEsU0FBWSxTQUFZLFVBQVUsVUFBVSxLQUFLO0FBQzNFLFFBQU0sUUFBUSxJQUFJLEtBQUs7QUFDdkIsUUFBTSxPQUFPLFFBQVEsU0FBUztBQUM5QixRQUFNLEtBQUssUUFBUTtBQUNuQixNQUFJLE9BQU8sVUFBYSxTQUFTLFFBQVMsaUJBQWdCLEVBQUU7QUFDNUQsTUFBSSxPQUFPLFdBQWMsUUFBUTtBQUMvQixVQUFNLElBQUksUUFBUSxTQUFTLEVBQUUsTUFBTSxjQUFjLFNBQVMsU0FBUyxNQUFNLHNCQUFzQixDQUFDO0FBQ2xHLE1BQUksU0FBUyxVQUFVLFNBQVM7QUFDOUIsVUFBTSxJQUFJLFFBQVEsU0FBUyxFQUFFLE1BQU0sZ0JBQWdCLFNBQVMsU0FBUyxNQUFNLHNCQUFzQixDQUFDO0FBQ3BHLFNBQU87QUFBQSxJQUNMO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQSxNQUFNLE9BQU8sVUFBYSxTQUFTLFVBQVUsSUFBSSxTQUFTLElBQUksUUFBUSxJQUFJO0FBQUEsSUFDMUUsT0FBTztBQUFBLE1BQ0wsTUFBTSxTQUFTLENBQUMsYUFBYSxLQUFLLEtBQUssUUFBUTtBQUFBLE1BQy9DO0FBQUEsTUFDQSxTQUFTLFlBQVksUUFBUSxPQUE2QixLQUFLLFVBQVUsS0FBSyxPQUFPO0FBQUEsTUFDckYsTUFBQUE7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNGO0FBRUEsU0FBUyxZQUFZLE9BQW9FO0FBQ3ZGLE1BQUksVUFBVSxPQUFXLFFBQU87QUFDaEMsU0FBTyxJQUFJLElBQUksTUFBTSxNQUFNLEdBQUcsRUFBRSxJQUFJLENBQUMsU0FBUyxDQUFDLEtBQUssS0FBSyxHQUFHLEtBQUssS0FBSyxDQUFDLENBQUMsQ0FBQztBQUMzRTtBQUVBLFNBQVMsVUFDUCxPQUN5QztBQUN6QyxNQUFJLFVBQVUsT0FBVyxRQUFPO0FBQ2hDLFNBQU8sSUFBSSxJQUFJLE1BQU0sUUFBUSxLQUFLLElBQUksTUFBTSxJQUFJLENBQUMsU0FBaUIsQ0FBQyxNQUFNLElBQUksQ0FBQyxJQUFJLE9BQU8sUUFBUSxLQUFLLENBQUM7QUFDekc7OztBQ25GQSxJQUFNLE9BQU87QUFDYixJQUFNLFNBQ0o7QUFHSyxTQUFTLFFBQ2QsVUFDQSxNQUNzQjtBQUN0QixRQUFNLFFBQVEsb0JBQUksSUFBdUI7QUFDekMsUUFBTSxNQUFNLElBQUksU0FBUyxTQUFTLFFBQVEsSUFBSSxJQUFJLElBQUksU0FBUyxRQUFRLEVBQUUsT0FBTztBQUNoRixRQUFNLE1BQU0sQ0FBQyxRQUFnQixJQUFZLFVBQW9DO0FBQzNFLFFBQUksTUFBTSxRQUFRLFFBQVEsQ0FBQyxJQUFJLFNBQVMsUUFBUSxTQUFTLFFBQVEsRUFBRztBQUNwRSxVQUFNLEVBQUUsTUFBTSxTQUFTLElBQUksSUFBSSxJQUFJLFFBQVEsU0FBUyxRQUFRO0FBQzVELFFBQUksWUFBWSxLQUFLLFFBQVEsS0FBSyxTQUFTLE9BQU8sQ0FBQyxNQUFNLElBQUksSUFBSSxFQUFHLE9BQU0sSUFBSSxNQUFNLEVBQUUsS0FBSyxNQUFNLElBQUksTUFBTSxDQUFDO0FBQUEsRUFDOUc7QUFDQSxhQUFXLEVBQUUsUUFBUSxXQUFXLE1BQU0sS0FBSyxRQUFRLFNBQVMsT0FBTztBQUNqRSxRQUFJLFFBQVEsUUFBUSxVQUFVLENBQUMsS0FBSyxFQUFFLElBQUksU0FBUyxVQUFVLEtBQUssR0FBRyxDQUFDO0FBQ3hFLGFBQVcsQ0FBQyxNQUFNLEtBQUssS0FBSyxTQUFTO0FBQ25DLFFBQUksMkJBQTJCLEtBQUssSUFBSSxFQUFHLEtBQUksT0FBTyxVQUFVLEtBQUssWUFBWSxDQUFDLElBQUksTUFBUztBQUNqRyxNQUFJLFNBQVMsT0FBVyxRQUFPLE1BQU0sR0FBRztBQUFBLE1BQ25DLFVBQVMsU0FBUyxNQUFNLEdBQUc7QUFDaEMsU0FBTyxDQUFDLEdBQUcsTUFBTSxPQUFPLENBQUM7QUFDM0I7QUFJQSxTQUFTLE9BQU8sT0FBYyxLQUFnQjtBQUM1QyxRQUFNLFFBQVEsQ0FBQyxNQUFhLElBQVksS0FBYSxXQUF3QjtBQUMzRSxRQUFJLE9BQU8sU0FBUyxVQUFVO0FBQzVCLFVBQUksb0JBQW9CLEtBQUssSUFBSSxLQUFNLE9BQU8sS0FBSyxHQUFHLEtBQUsscUJBQXFCLEtBQUssSUFBSTtBQUN2RixZQUFJLE1BQU0sSUFBSSxXQUFXLE1BQU0sQ0FBQztBQUFBLElBQ3BDLFdBQVcsTUFBTSxRQUFRLElBQUksR0FBRztBQUM5QixpQkFBVyxDQUFDLE9BQU8sSUFBSSxLQUFNLEtBQTBCLFFBQVEsRUFBRyxPQUFNLE1BQU0sVUFBVSxJQUFJLEtBQUssR0FBRyxLQUFLLE1BQU07QUFBQSxJQUNqSCxXQUFXLFdBQVcsSUFBSSxHQUFHO0FBQzNCLGlCQUFXLENBQUMsT0FBTyxHQUFHLEtBQUssT0FBTyxRQUFRLElBQUksRUFBRyxPQUFNLEtBQUssVUFBVSxJQUFJLEtBQUssR0FBRyxPQUFPLElBQUk7QUFBQSxJQUMvRjtBQUFBLEVBQ0Y7QUFDQSxRQUFNLE9BQU8sS0FBSyxJQUFJLElBQUk7QUFDNUI7QUFFQSxTQUFTLFdBQVcsUUFBbUM7QUFDckQsTUFBSSxDQUFDLFdBQVcsTUFBTSxFQUFHLFFBQU87QUFDaEMsUUFBTSxNQUFNLENBQUMsT0FBTyxTQUFTLFFBQVEsU0FBUyxJQUFJLEVBQUUsS0FBSyxDQUFDLFFBQVEsT0FBTyxPQUFPLEdBQUcsTUFBTSxRQUFRO0FBQ2pHLFNBQU8sUUFBUSxTQUFZLFNBQWEsT0FBTyxHQUFHO0FBQ3BEO0FBRUEsU0FBUyxTQUFTLE1BQWMsS0FBZ0I7QUFDOUMsYUFBVyxTQUFTLEtBQUs7QUFBQSxJQUN2QjtBQUFBLEVBQ0YsR0FBRztBQUNELFVBQU0sQ0FBQyxFQUFFLFVBQVUsSUFBSSxZQUFZLElBQUksUUFBUSxRQUFRLFNBQVMsRUFBRSxJQUFJO0FBQ3RFLFVBQU0sVUFBVSxVQUFVLFVBQVUsSUFBSSxXQUFXLFNBQVMsR0FBRztBQUMvRCxRQUFJLFdBQVcsTUFBTSxDQUFDLE9BQU8sV0FBVyxHQUFHLEVBQUcsS0FBSSxRQUFRLEdBQUcsT0FBTyxJQUFJLFNBQVMsSUFBSSxPQUFPLEtBQUssS0FBSyxNQUFTO0FBQUEsRUFDakg7QUFDRjs7O0FDM0RPLElBQU0sT0FBTyxDQUFDLFVBQ25CLE1BQU0sSUFBSSxDQUFDLEVBQUUsSUFBSSxLQUFLLE9BQU8sRUFBRSxJQUFJLEtBQUssRUFBRTtBQUVyQyxTQUFTLGFBQWEsTUFBWSxXQUF5QztBQUNoRixRQUFNLEVBQUUsU0FBUyxNQUFNLFNBQVMsVUFBVSxNQUFNLFVBQVUsS0FBSyxJQUFJO0FBQ25FLFFBQU0sRUFBRSxNQUFNLE9BQU8sSUFBSSxVQUFVO0FBQ25DLFFBQU0sRUFBRSxTQUFTLElBQUk7QUFDckIsU0FBTztBQUFBLElBQ0wsSUFBSSxTQUFTLFdBQVc7QUFBQSxJQUN4QixTQUFTLFFBQVEsU0FBUyxpQkFBaUIsT0FBTyxRQUFRO0FBQUEsSUFDMUQsUUFBUSxLQUFLO0FBQUEsSUFDYixLQUFLLEtBQUssS0FBSyxRQUFRO0FBQUEsSUFDdkIsUUFBUSxVQUFVLFVBQVU7QUFBQSxJQUM1QixRQUFRLFVBQVUsTUFBTSxVQUFVO0FBQUEsSUFDbEMsU0FBUyxVQUFVLFFBQVEsSUFBSSxDQUFDLENBQUMsTUFBTSxLQUFLLE1BQU0sQ0FBQyxNQUFNLEtBQUssS0FBSyxDQUFDLENBQXFCLEtBQUssQ0FBQztBQUFBLElBQy9GLE1BQU0sWUFBWSxTQUFTLE9BQU8sSUFBSSxhQUFhLFVBQVUsTUFBTSxNQUFNLElBQUk7QUFBQSxJQUM3RSxRQUFRLE9BQU87QUFBQSxNQUNiLE9BQU8sUUFBUSxVQUFVLE1BQU0sVUFBVSxDQUFDLENBQUMsRUFBRSxPQUFPLENBQUMsVUFBcUMsTUFBTSxDQUFDLE1BQU0sTUFBUztBQUFBLElBQ2xIO0FBQUEsSUFDQSxNQUFNLFVBQVUsUUFBUTtBQUFBLElBQ3hCLFVBQVUsV0FBVyxLQUFLLFNBQVMsUUFBUSxJQUFJO0FBQUEsSUFDL0MsY0FBYyxTQUFTLElBQUksZUFBZTtBQUFBLElBQzFDLE1BQU0sT0FBTyxZQUFZLEtBQUssSUFBSSxDQUFDLEVBQUUsTUFBTSxPQUFPLE9BQU8sTUFBTSxDQUFDLE1BQU0sU0FBUyxTQUFTLE9BQU8sTUFBTSxLQUFLLENBQUMsQ0FBQyxDQUFDLENBQUM7QUFBQSxJQUM5RyxjQUFjLEtBQUssS0FBSyxZQUFZO0FBQUEsSUFDcEMsUUFBUSxDQUFDLEdBQUcsS0FBSyxNQUFNO0FBQUEsSUFDdkIsR0FBSSxLQUFLLFdBQVc7QUFBQSxNQUNsQixTQUFTO0FBQUEsUUFDUCxNQUFNLEtBQUssUUFBUTtBQUFBLFFBQ25CLE1BQU0sQ0FBQyxHQUFHLEtBQUssUUFBUSxJQUFJO0FBQUEsUUFDM0IsTUFBTSxLQUFLLFFBQVEsS0FBSyxJQUFJLElBQUk7QUFBQSxRQUNoQyxPQUFPLEtBQUssUUFBUSxTQUFTO0FBQUEsUUFDN0IsVUFBVSxDQUFDLEdBQUcsS0FBSyxRQUFRLFFBQVE7QUFBQSxNQUNyQztBQUFBLElBQ0Y7QUFBQSxJQUNBLFVBQVUsU0FBUyxJQUFJLENBQUMsWUFBWSxNQUFNLFNBQVMsSUFBSSxDQUFDO0FBQUEsSUFDeEQ7QUFBQSxFQUNGO0FBQ0Y7QUFFQSxTQUFTLGFBQ1AsVUFDQSxNQUNBLFFBQ1M7QUFDVCxNQUFJLENBQUMsU0FBUyxRQUFTLFFBQU87QUFDOUIsTUFBSSxDQUFDLFNBQVMsV0FBWSxRQUFPLEtBQUssU0FBUyxJQUFJO0FBQ25ELE1BQUk7QUFDRixXQUFPLE9BQU8sU0FBUyxLQUFLLENBQUM7QUFBQSxFQUMvQixRQUFRO0FBQ04sV0FBTyxLQUFLLFNBQVMsSUFBSTtBQUFBLEVBQzNCO0FBQ0Y7OztBQ3pDQSxlQUFzQixVQUNwQixXQUNBLFVBQ0EsU0FDQSxPQUNBLFVBQ29CO0FBQ3BCLFFBQU1DLFFBQU8sVUFBVSxTQUFZLElBQUksVUFBVSxRQUFRLFNBQVksWUFBWSxPQUFPLFdBQVcsRUFBRSxPQUFPLEVBQUUsQ0FBQztBQUMvRyxNQUFJLENBQUMsU0FBUyxPQUFPO0FBQ25CLFFBQUksVUFBVSxPQUFXLFFBQU8sRUFBRSxNQUFNLE1BQU0sWUFBWSxXQUFXLFVBQVUsT0FBTyxHQUFHLE9BQU8sT0FBVTtBQUMxRyxVQUFNLElBQUksUUFBUSxTQUFTO0FBQUEsTUFDekIsTUFBTSx3QkFBd0IsU0FBUyxLQUFLLElBQUk7QUFBQSxNQUNoRCxRQUFRO0FBQUEsSUFDVixDQUFDO0FBQUEsRUFDSDtBQUNBLFFBQU0sUUFBaUIsQ0FBQztBQUN4QixNQUFJLE9BQU8sb0JBQUksSUFBa0I7QUFDakMsbUJBQWlCLFFBQVEsUUFBUSxXQUFXLFVBQVUsU0FBU0EsS0FBSSxHQUFHO0FBQ3BFLFVBQU0sS0FBSyxHQUFHLEtBQUssS0FBSztBQUN4QixXQUFPLFNBQVMsTUFBTSxLQUFLLEtBQUssSUFBSTtBQUNwQyxVQUFNLEVBQUUsTUFBTSxJQUFJLEtBQUs7QUFDdkIsUUFBSSxDQUFDLEtBQUs7QUFDUixlQUFTLFNBQVMsUUFBUSxLQUFLLE1BQU0sS0FBSyxLQUFLLE1BQU0sTUFBTSxHQUFHLFVBQVUsU0FBWSxLQUFLLE9BQU8sS0FBSyxFQUFFLFFBQVE7QUFBQSxhQUN4RyxVQUFVLE9BQVcsUUFBTyxFQUFFLE1BQU0sS0FBSyxNQUFNLE9BQU8sS0FBSyxNQUFNO0FBQUEsUUFDckUsUUFBTyxFQUFFLE1BQU0sRUFBRSxHQUFHLE9BQU8sS0FBSyxNQUFNLEtBQUssR0FBRyxNQUFNLENBQUMsR0FBRyxLQUFLLE9BQU8sQ0FBQyxFQUFFLEdBQUcsT0FBTyxLQUFLLE1BQU07QUFBQSxFQUNuRztBQUNBLFFBQU0sSUFBSSxRQUFRLFNBQVMsRUFBRSxNQUFNLGlDQUFpQyxDQUFDO0FBQ3ZFO0FBR0EsU0FBUyxPQUFPLE1BQVksT0FBK0I7QUFDekQsUUFBTSxFQUFFLFNBQVMsSUFBSSxLQUFLO0FBQzFCLE1BQUksQ0FBQyxZQUFZLEtBQUssU0FBUyxTQUFTLEVBQUcsUUFBTztBQUNsRCxRQUFNLEVBQUUsTUFBTSxJQUFJO0FBQ2xCLFFBQU0sVUFBVSxNQUFNLFFBQVE7QUFBQSxJQUFJLENBQUMsQ0FBQyxNQUFNLEtBQUssTUFDN0MsS0FBSyxZQUFZLE1BQU0saUJBQWlCLENBQUMsTUFBTSxrQkFBa0IsSUFBSSxDQUFDLE1BQU0sS0FBSztBQUFBLEVBQ25GO0FBQ0EsUUFBTSxPQUFPLE9BQU8sS0FBSyxVQUFVLEtBQUssQ0FBQztBQUN6QyxTQUFPLEVBQUUsR0FBRyxNQUFNLFNBQVMsRUFBRSxHQUFHLEtBQUssU0FBUyxVQUFVLElBQUksU0FBUyxFQUFFLEdBQUcsT0FBTyxTQUFTLEtBQUssQ0FBQyxFQUFFLEVBQUU7QUFDdEc7OztBQ3hCQSxlQUFzQixZQUNwQixTQUNBLFdBQ0EsVUFDQSxTQUNBLFVBQ2lCO0FBQ2pCLFFBQU0sRUFBRSxVQUFVLE9BQU8sSUFBSTtBQUM3QixRQUFNLFNBQVMsTUFBTSxTQUFTLFNBQVMsVUFBVSxRQUFRO0FBQ3pELFFBQU0sT0FBTyxVQUFVLFNBQVM7QUFDaEMsWUFBVSxTQUFTLENBQUMsRUFBRSxNQUFNLE1BQU0sSUFBSSxNQUNwQyxTQUFTLEtBQUssU0FBUyxJQUFJLElBQUksV0FBVyxhQUFhLElBQUksQ0FBQyxRQUFRLElBQUksS0FBSyxHQUFHLEdBQUcsQ0FBQztBQUN0RixRQUFNLE9BQU8sT0FBTyxPQUFPLElBQUksU0FBUyxDQUFDLFNBQVMsU0FBUyxNQUFNLFVBQVUsS0FBSyxJQUFJLENBQUMsQ0FBQyxDQUFDLElBQUk7QUFDM0YsUUFBTSxPQUFPLE9BQU8sUUFBUTtBQUM1QixRQUFNLEVBQUUsTUFBTSxNQUFNLElBQUksTUFBTTtBQUFBLElBQWE7QUFBQSxJQUFVO0FBQUEsSUFBVTtBQUFBLElBQU0sTUFDbkU7QUFBQSxNQUNFO0FBQUEsTUFDQTtBQUFBLE1BQ0E7QUFBQSxNQUNBLFFBQVEsUUFBUTtBQUFBLE1BQ2hCLENBQUMsRUFBRSxNQUFNLE1BQ1A7QUFBQSxRQUNFO0FBQUEsUUFDQTtBQUFBLFFBQ0E7QUFBQSxVQUNFO0FBQUEsVUFDQSxRQUFRO0FBQUEsVUFDUjtBQUFBLFVBQ0EsVUFBVSxhQUFhLFFBQVEsT0FBTztBQUFBLFVBQ3RDLFdBQVcsUUFBUTtBQUFBLFVBQ25CLFlBQVksUUFBUSxXQUFXLE9BQU8sV0FBVztBQUFBLFVBQ2pELFdBQVcsUUFBUSxZQUFZO0FBQUEsVUFDL0I7QUFBQSxVQUNBLE9BQU8sTUFBTTtBQUFBLFVBQ2IsR0FBSSxRQUFRLHNCQUFzQixRQUFRO0FBQUEsWUFDeEMsWUFBWSxDQUFDLEVBQUUsU0FBUyxZQUFZLEdBQTZDLFVBQy9FLFNBQVM7QUFBQSxjQUNQLEdBQUcsU0FBUyxJQUFJLE9BQU8sVUFBVSxDQUFDLEtBQUssY0FBYyxPQUFPLENBQUMsV0FBVyxNQUFNLE1BQU0sR0FBRyxFQUFFLEVBQUUsUUFBUSxLQUFLLEdBQUcsQ0FBQztBQUFBLG9CQUEyQixXQUFXO0FBQUEsWUFDcEo7QUFBQSxVQUNKO0FBQUEsUUFDRjtBQUFBLFFBQ0EsUUFBUTtBQUFBLFFBQ1I7QUFBQSxNQUNGO0FBQUEsTUFDRjtBQUFBLElBQ0Y7QUFBQSxFQUNGO0FBQ0EsUUFBTSxPQUFPO0FBQ2IsUUFBTSxRQUFRLE1BQU0sT0FBTyxNQUFNLE9BQU8sS0FBSyxRQUFRLFlBQVksTUFBUztBQUMxRSxRQUFNLEtBQUssVUFBVSxXQUFXLE9BQU8sVUFBVSxZQUFZLE1BQU0sS0FBSyxRQUFRLE1BQU0sS0FBSyxNQUFNLFVBQVUsUUFBUTtBQUNuSCxRQUFNLFNBQVMsS0FBSyxJQUFJLEdBQUcsR0FBRyxLQUFLLFNBQVMsSUFBSSxVQUFVLENBQUM7QUFDM0QsYUFBVyxFQUFFLElBQUksS0FBSyxLQUFLLEtBQUs7QUFDOUIsYUFBUyxLQUFLLEdBQUcsU0FBUyxJQUFJLE9BQU8sU0FBUyxDQUFDLEtBQUssS0FBSyxHQUFHLEVBQUUsSUFBSSxJQUFJLEVBQUUsQ0FBQyxFQUFFO0FBQzdFLGFBQVcsU0FBUyxLQUFLLE9BQVEsVUFBUyxLQUFLLEdBQUcsU0FBUyxJQUFJLE9BQU8sU0FBUyxDQUFDLEtBQUssS0FBSyxFQUFFO0FBQzVGLFFBQU0sVUFBVSxRQUFRLGdCQUFnQixPQUFPLGNBQWMsTUFBTSxTQUFTLElBQUk7QUFDaEYsYUFBVyxFQUFFLElBQUksS0FBSyxLQUFLLFdBQVcsQ0FBQztBQUNyQyxhQUFTLEtBQUssR0FBRyxTQUFTLElBQUksT0FBTyxjQUFjLENBQUMsS0FBSyxLQUFLLEdBQUcsRUFBRSxJQUFJLElBQUksRUFBRSxDQUFDLEVBQUU7QUFDbEYsTUFBSSxTQUFTLFdBQVcsRUFBRyxVQUFTLEtBQUssNkJBQTZCO0FBQ3RFLE1BQUksT0FBTyxPQUFRLFFBQU8sWUFBWSxNQUFNLE9BQU8sUUFBUSxTQUFTLE1BQU0sTUFBTTtBQUNoRixNQUFJLFNBQVMsTUFBTTtBQUNqQixVQUFNLFFBQVEsU0FBUyxFQUFFLEdBQUcsT0FBTyxPQUFPLE1BQU0sU0FBUyxNQUFNLFNBQVMsTUFBTSxXQUFXLEtBQUs7QUFDOUYsU0FBSyxVQUFVLFFBQVE7QUFBQSxNQUNyQixHQUFHLGFBQWEsTUFBTSxTQUFTO0FBQUEsTUFDL0IsR0FBSSxTQUFTLEVBQUUsTUFBTTtBQUFBLE1BQ3JCLEdBQUksV0FBVyxFQUFFLGFBQWEsS0FBSyxPQUFPLEVBQUU7QUFBQSxJQUM5QyxDQUFDO0FBQ0QsV0FBTztBQUFBLEVBQ1Q7QUFDQSxRQUFNLFVBQVUsTUFBTSxXQUFXLFVBQVUsUUFBUSxFQUFFLE9BQU8sT0FBTyxNQUFNLFVBQVUsS0FBSyxDQUFDO0FBQ3pGLE1BQUksTUFBTyxXQUFVLE9BQU8sUUFBUSxVQUFVLFFBQVcsUUFBUTtBQUNqRSxTQUFPO0FBQ1Q7QUFHQSxlQUFlLGFBQ2IsVUFDQSxFQUFFLEtBQUssR0FDUCxNQUNBLE1BQ29CO0FBQ3BCLFFBQU0sVUFBVSxZQUFZLElBQUk7QUFDaEMsUUFBTSxRQUFRLFlBQVksTUFBTTtBQUM5QixRQUFJLFFBQVEsS0FBSyxRQUFRLEVBQUc7QUFDNUIsYUFBUyxTQUFTLEdBQUcsS0FBSyxNQUFNLElBQUksS0FBSyxJQUFJLGNBQWMsYUFBYSxZQUFZLElBQUksSUFBSSxPQUFPLENBQUMsRUFBRTtBQUFBLEVBQ3hHLEdBQUcsR0FBRztBQUNOLE1BQUk7QUFDRixXQUFPLE1BQU0sS0FBSztBQUFBLEVBQ3BCLFVBQUU7QUFDQSxrQkFBYyxLQUFLO0FBQ25CLGFBQVMsU0FBUyxFQUFFO0FBQUEsRUFDdEI7QUFDRjtBQUdBLFNBQVMsY0FBYyxFQUFFLFNBQVMsU0FBUyxFQUFFLFNBQVMsRUFBRSxHQUFTLEVBQUUsV0FBVyxHQUFtQztBQUMvRyxNQUFJLFFBQVEsY0FBYyxRQUFXO0FBQ25DLFVBQU0sSUFBSSxRQUFRLFNBQVM7QUFBQSxNQUN6QixNQUFNLG1CQUFtQixRQUFRLElBQUk7QUFBQSxNQUNyQyxRQUFRO0FBQUEsSUFDVixDQUFDO0FBQUEsRUFDSDtBQUNBLFNBQU8sV0FBVyxpQkFBaUIsVUFBVSxjQUFjLFlBQVksUUFBUSxTQUFTLENBQUMsSUFBSSxDQUFDO0FBQ2hHO0FBRUEsU0FBUyxZQUNQLEVBQUUsU0FBUyxTQUFTLEdBQ3BCLE9BQ0EsRUFBRSxTQUFTLEdBQ1gsTUFDQSxRQUNRO0FBQ1IsUUFBTSxFQUFFLFNBQVMsSUFBSTtBQUNyQixRQUFNLFFBQVEsWUFBWSxNQUFNLEtBQUssUUFBUTtBQUM3QyxhQUFXLFdBQVcsU0FBVSxVQUFTLFNBQVMsYUFBYSxTQUFTLFNBQVMsS0FBSyxJQUFJLENBQUM7QUFDM0YsTUFBSSxVQUFVLFVBQWEsQ0FBQyxVQUFVO0FBQ3BDLFFBQUksQ0FBQyxTQUFVLFFBQU87QUFDdEIsVUFBTSxPQUFPLE1BQU0sS0FBSyxRQUFRO0FBQ2hDLFVBQU0sVUFBVSxJQUFJLFFBQVEsbUJBQW1CO0FBQUEsTUFDN0MsTUFBTSxxQkFBcUIsTUFBTSxJQUFJO0FBQUEsTUFDckMsT0FBTyxpQkFBaUIsU0FBUyxNQUFNO0FBQUEsTUFDdkMsUUFBUSxRQUFRLFlBQVksSUFBSTtBQUFBLElBQ2xDLENBQUM7QUFDRCxhQUFTLFNBQVMsYUFBYSxTQUFTLFNBQVMsS0FBSyxJQUFJLENBQUM7QUFDM0QsV0FBTyxVQUFVO0FBQUEsRUFDbkI7QUFDQSxRQUFNLFFBQVEsTUFBTSxLQUFLO0FBQ3pCLFdBQVM7QUFBQSxJQUNQO0FBQUEsTUFDRSxLQUFLLFdBQVcsS0FBSyxLQUFLLE1BQU0sUUFBUSxLQUFLLElBQUksVUFBVSxLQUFLLElBQUksVUFBVSxPQUFPLFNBQVMsT0FBTyxLQUFLLENBQUM7QUFBQSxJQUM3RztBQUFBLEVBQ0Y7QUFDQSxTQUFPO0FBQ1Q7QUFFQSxlQUFlLFVBQ2IsTUFDQSxXQUNBLFVBQ0EsUUFDQSxFQUFFLE9BQU8sTUFBTSxHQUNBO0FBQ2YsUUFBTSxFQUFFLE1BQU0sU0FBUyxLQUFLLElBQUk7QUFDaEMsUUFBTSxFQUFFLElBQUksSUFBSTtBQUNoQixRQUFNLEVBQUUsS0FBSyxJQUFJLFVBQVU7QUFDM0IsUUFBTSxFQUFFLFVBQVUsUUFBUSxJQUFJO0FBQzlCLFdBQVM7QUFBQSxJQUNQLEdBQUcsSUFBSSxLQUFLLEtBQUssTUFBTSxDQUFDLElBQUksY0FBYyxLQUFLLEtBQUssUUFBUSxDQUFDLENBQUMsTUFBTSxJQUFJLElBQUksZUFBZSxVQUFVLFlBQVksSUFBSSxFQUFFLENBQUM7QUFBQSxFQUMxSDtBQUNBLE1BQUksVUFBVTtBQUNaLGVBQVcsT0FBTyxTQUFTLE1BQU07QUFDL0IsZUFBUyxLQUFLLElBQUksSUFBSSxLQUFLLElBQUksTUFBTSxTQUFTLGNBQWMsS0FBSyxJQUFJLEdBQUcsQ0FBQyxDQUFDLEVBQUUsQ0FBQztBQUMvRSxRQUFJLFNBQVMsTUFBTSxLQUFLLFNBQVMsRUFBRyxVQUFTLEtBQUssSUFBSSxJQUFJLFlBQVksY0FBYyxLQUFLLFNBQVMsUUFBUSxDQUFDLENBQUMsRUFBRSxDQUFDO0FBQy9HLGFBQVMsS0FBSyxXQUFXLFVBQVUsR0FBRyxDQUFDO0FBQ3ZDLFFBQUksVUFBVSxPQUFXLFVBQVMsS0FBSyxVQUFVLE9BQU8sVUFBVSxPQUFPLEVBQVksQ0FBQztBQUFBLGFBQzdFLE9BQU8sU0FBUyxVQUFXLFVBQVMsTUFBTSxZQUFZLE1BQU0sVUFBVSxVQUFVLElBQUksQ0FBQztBQUFBLGFBQ3JGLENBQUMsTUFBTyxPQUFNLFVBQVUsVUFBVSxRQUFRLFVBQVUsSUFBSTtBQUNqRSxRQUFJLE9BQU8sU0FBUyxZQUFZLENBQUMsU0FBUyxVQUFVLE9BQVcsVUFBUyxVQUFVLFFBQVE7QUFBQSxFQUM1RixXQUFXLE9BQU8sU0FBUyxVQUFXLFVBQVMsTUFBTSxZQUFZLE1BQU0sUUFBVyxVQUFVLElBQUksQ0FBQztBQUNqRyxhQUFXLFFBQVEsYUFBYSxNQUFNLEtBQUssSUFBSSxFQUFHLFVBQVMsU0FBUyxJQUFJO0FBQ3hFLE1BQUksUUFBUyxVQUFTLFNBQVMsYUFBYSxTQUFTLEtBQUssSUFBSSxDQUFDO0FBRS9ELFdBQVMsS0FBSyxJQUFJLElBQUksR0FBRyxPQUFPLE9BQU8sVUFBVSxJQUFJLENBQUMsQ0FBQyxHQUFHLElBQUksRUFBRSxDQUFDO0FBQ25FO0FBR0EsU0FBUyxVQUFVLEVBQUUsT0FBTyxPQUFPLE9BQU8sUUFBUSxHQUFjLE9BQWdCLFVBQTBCO0FBQ3hHLFFBQU0sRUFBRSxJQUFJLElBQUk7QUFDaEIsUUFBTSxVQUFVLEdBQUcsS0FBSyxHQUFHLFVBQVUsU0FBWSxLQUFLLE9BQU8sS0FBSyxFQUFFLGFBQWEsS0FBSyxJQUFJLFVBQVUsSUFBSSxTQUFTLE9BQU87QUFDeEgsTUFBSSxZQUFZLE9BQVcsVUFBUyxLQUFLLElBQUksSUFBSSxXQUFXLE9BQU8sRUFBRSxDQUFDO0FBQUEsV0FDN0QsTUFBTyxVQUFTLEtBQUssR0FBRyxJQUFJLE9BQU8sT0FBTyxDQUFDLE1BQU0sT0FBTyx3QkFBd0I7QUFBQSxNQUNwRixVQUFTLEtBQUssR0FBRyxJQUFJLE9BQU8sU0FBUyxDQUFDLElBQUksT0FBTyxLQUFLLE9BQU8sRUFBRTtBQUN0RTtBQUVBLElBQU0sWUFBWSxDQUFDLE9BQWdCLEVBQUUsS0FBSyxHQUFhLE9BQ3JELFFBQ0ksU0FBUyxTQUFTLElBQUksQ0FBQyxPQUFPLEVBQUUsS0FDaEMsR0FBRyxTQUFTLElBQUksQ0FBQyxXQUFXLEVBQUU7QUFFcEMsZUFBZSxVQUNiLFVBQ0EsRUFBRSxNQUFNLE9BQUFDLFFBQU8sR0FBRyxHQUNsQixVQUNBLE1BQ2U7QUFDZixNQUFJLFNBQVMsVUFBVSxTQUFTLFNBQVMsRUFBRztBQUM1QyxNQUFJLFNBQVMsTUFBTyxVQUFTLE1BQU0sVUFBVSxLQUFLLFNBQVMsSUFBSSxDQUFDLEVBQUUsUUFBUSxPQUFPLEVBQUUsQ0FBQztBQUFBLFdBQzNFLFNBQVMsVUFBVyxVQUFTLE1BQU0sWUFBWSxVQUFVLFVBQVUsSUFBSSxDQUFDO0FBQUEsV0FDeEUsU0FBUyxTQUFTO0FBQ3pCLFVBQU0sVUFBVSxhQUFhLFVBQVVBLE1BQUs7QUFDNUMsUUFBSSxPQUFPLFFBQVc7QUFDcEIsWUFBTSxXQUFXLFNBQVMsRUFBRTtBQUM1QixlQUFTLEtBQUssR0FBRyxRQUFRLE1BQU0sTUFBTSxZQUFZLFFBQVEsRUFBRSxlQUFlLEVBQUUsRUFBRTtBQUM5RTtBQUFBLElBQ0Y7QUFDQSxhQUFTLE1BQU0sVUFBVSxTQUFTQSxPQUFNLE1BQU0sVUFBVSxJQUFJLENBQUM7QUFDN0QsVUFBTSxPQUFPLFFBQVEsTUFBTSxTQUFTQSxPQUFNO0FBQzFDLFFBQUksT0FBTyxFQUFHLFVBQVMsS0FBSyxPQUFPLElBQUksaUJBQWlCLFFBQVEsRUFBRSxZQUFZLFFBQVEsTUFBTSxNQUFNLEVBQUU7QUFDcEcsUUFBSSxRQUFRLE9BQU8sU0FBUyxHQUFHO0FBQzdCLFlBQU0sU0FBUyxRQUFRLE9BQU8sTUFBTSxHQUFHLENBQUMsRUFBRSxJQUFJLENBQUMsRUFBRSxJQUFJLE1BQU0sTUFBTSxHQUFHLEVBQUUsS0FBSyxNQUFNLE1BQU0sR0FBRztBQUMxRixlQUFTLEtBQUsscUJBQXFCLFFBQVEsRUFBRSwrQkFBK0IsT0FBTyxLQUFLLElBQUksQ0FBQyxVQUFVO0FBQUEsSUFDekc7QUFBQSxFQUNGLE9BQU87QUFDTCxVQUFNLE9BQU8sV0FBVyxVQUFVLFNBQVMsS0FBSyxJQUFJO0FBQ3BELFFBQUksU0FBUyxHQUFJLFVBQVMsTUFBTSxJQUFJO0FBQUEsRUFDdEM7QUFDRjtBQUdBLGVBQWUsV0FBVyxFQUFFLE9BQU8sTUFBTSxNQUFNLEdBQWlCLElBQTJCO0FBQ3pGLFFBQU0sU0FBUyxNQUFNLFlBQVksSUFBSSxJQUFJO0FBQ3pDLGFBQVcsUUFBUSxPQUFPO0FBQ3hCLFVBQU0sUUFBUSxLQUFLLElBQUksQ0FBQyxNQUFNLFVBQVUsQ0FBQyxNQUFNLE9BQU8sTUFBTSxNQUFNLEtBQUssQ0FBVyxLQUFLLElBQUksQ0FBVTtBQUNyRyxVQUFNLE9BQU8sSUFBSSxPQUFPLFlBQVksS0FBSyxDQUFDO0FBQUEsRUFDNUM7QUFDQSxRQUFNLE9BQU8sT0FBTztBQUN0QjtBQUdBLFNBQVMsU0FBUyxVQUFvQixVQUEwQjtBQUM5RCxNQUFJLFNBQVMsTUFBTSxLQUFLLFNBQVMsSUFBSztBQUN0QyxNQUFJLFNBQVMsY0FBYyxTQUFTLFNBQVM7QUFDM0MsZUFBVyxPQUFPLGNBQWMsU0FBUyxJQUFJLEVBQUUsTUFBTSxHQUFHLENBQUM7QUFDdkQsZUFBUyxLQUFLLEdBQUcsU0FBUyxJQUFJLE9BQU8sU0FBUyxDQUFDLEtBQUssR0FBRyxrREFBa0Q7QUFBQSxFQUM3RztBQUNBLFFBQU0sUUFBUSxVQUFVLFFBQVE7QUFDaEMsTUFBSSxRQUFRO0FBQ1YsYUFBUztBQUFBLE1BQ1AsU0FBUyxJQUFJLElBQUksV0FBVyxLQUFLLHFFQUFxRTtBQUFBLElBQ3hHO0FBQ0o7QUFFQSxTQUFTLFVBQVUsVUFBNEI7QUFDN0MsTUFBSSxDQUFDLFNBQVMsUUFBUyxRQUFPO0FBQzlCLE1BQUk7QUFDSixNQUFJO0FBQ0YsV0FBTyxTQUFTLGFBQWEsU0FBUyxLQUFLLElBQUk7QUFBQSxFQUNqRCxRQUFRO0FBQ04sV0FBTztBQUFBLEVBQ1Q7QUFDQSxTQUFPLFFBQVEsVUFBVSxJQUFJLEVBQUU7QUFDakM7IiwKICAibmFtZXMiOiBbInBsYWluIiwgIm1vc3QiLCAibW9zdCIsICJtb3N0IiwgInRhYmxlIl0KfQo=
