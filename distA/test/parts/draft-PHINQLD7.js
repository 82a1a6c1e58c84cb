import {
  usersOfOperations
} from "./chunk-227PWHAM.js";
import {
  requestPath
} from "./chunk-5LHUEJTR.js";
import {
  editorSchemas,
  installEditorSchemas
} from "./chunk-VSRGCJMR.js";
import {
  emit
} from "./chunk-TR4WUM2M.js";
import {
  examples
} from "./chunk-JVALCJ3H.js";
import {
  linksOf
} from "./chunk-TNPKNSKC.js";
import {
  draftName,
  draftRequest,
  scalar
} from "./chunk-YANC7AYB.js";
import "./chunk-2QSPZIQJ.js";
import "./chunk-LWESV2NC.js";
import "./chunk-MAUJ5X4J.js";
import "./chunk-UUVSR64B.js";
import "./chunk-CCGHMHEK.js";
import "./chunk-VDPV4SN2.js";
import {
  findOperation,
  openDocumentation,
  sourceIndex
} from "./chunk-KPXZDYPQ.js";
import "./chunk-64GZ67CL.js";
import "./chunk-IFMLXW3Q.js";
import "./chunk-OQREOMES.js";
import "./chunk-2RJTCR3G.js";
import {
  writeAtomically
} from "./chunk-IBVRGXBJ.js";
import {
  placeInside
} from "./chunk-QF6HTAQS.js";
import "./chunk-PACVB44P.js";
import "./chunk-ZC7SUIQQ.js";
import {
  Problem
} from "./chunk-FSPVDUAZ.js";
import "./chunk-RABAPZK5.js";
import "./chunk-XGDOGID3.js";

// src/cli/commands/draft.ts
import { existsSync } from "node:fs";
import { join, relative } from "node:path";

// src/core/collection/suppliers.ts
function suppliersFor(collection, operation) {
  const users = usersOfOperations(collection);
  return new Map(
    linksOf(operation, sourceIndex(collection, operation.source)).map(({ name, operation: from, place, guess }) => {
      const [request] = users(`${operation.source}/${from}`).requests;
      const holder = request ?? `${operation.source}/${from}`;
      return [name, { from: `${holder}, ${place}`, drafted: request !== void 0, guess }];
    })
  );
}

// src/core/documentation/draft/signature.ts
function describesSignature({ description = "" }) {
  return isMessageSignature(description) || /\b(?:hmac|signature|signed|seal|sealed)\b/i.test(description) && algorithmIn(description) !== void 0;
}
var signatureName = ({ name }) => name.replace(new RegExp("([\\p{Ll}\\p{N}])(\\p{Lu})", "gu"), "$1-$2").toLowerCase().replace(/[^\p{L}\p{N}]+/gu, "-");
function proposeSignature(scheme, source, schema) {
  const { name, description = "" } = scheme;
  const head = [
    `# yaml-language-server: $schema=${schema}`,
    `about: ${scalar(`${name}, as ${source} describes it`)}`,
    "# Proposed from the prose below: compare each line with it, and prove it with an example of the vendor.",
    ...description.split("\n").map((line) => `#   ${line}`.trimEnd())
  ];
  const lines = isMessageSignature(description) ? messageLines(description) : recipeLines(scheme);
  return `${[...head, ...lines].join("\n")}
`;
}
function headersMade(scheme) {
  const { description = "", header } = scheme;
  if (isMessageSignature(description)) return /* @__PURE__ */ new Set(["signature", "signature-input", "content-digest"]);
  return new Set(
    [header, timeHeader(description)?.name, nonceHeader(description)].filter((one) => one !== void 0).map((one) => one.toLowerCase())
  );
}
var isMessageSignature = (text) => /\bRFC ?9421\b|\bSignature-Input\b|HTTP message signature/i.test(text);
var registered = [
  "rsa-pss-sha512",
  "rsa-v1_5-sha256",
  "hmac-sha256",
  "ecdsa-p256-sha256",
  "ecdsa-p384-sha384",
  "ed25519"
];
function messageLines(text) {
  const algorithm = registered.find((one) => text.toLowerCase().includes(one));
  const named = [...text.matchAll(/[`"](@[a-z-]+|[a-z][a-z0-9-]*)[`"]/g)].map(([, one]) => one);
  const components = [...new Set(named)].filter((one) => one.startsWith("@") || /^(?:content|date|host|x-)/.test(one));
  const digest = /content-digest/i.test(text);
  return [
    "kind: message-signature",
    ...digest ? [`digest: ${/sha-?512/i.test(text.replaceAll(/rsa-pss-sha512/gi, "")) ? "sha-512" : "sha-256"}`] : [],
    "signatures:",
    "  sig1:",
    components.length > 0 ? `    components: [${components.map((one) => JSON.stringify(one)).join(", ")}]` : '    components: ["@method", "@target-uri"]     # the documentation names none',
    `    algorithm: ${algorithm ?? "hmac-sha256              # the documentation names none of the registry"}`,
    "    key: ${secret.signingKey}",
    "    key-id: KEY-ID                  # the id that the vendor gave your key",
    .../\bnonce\b/i.test(text) ? ["    nonce: ${nonce}"] : [],
    .../\bexpires\b/i.test(text) ? ["    expires: 5m"] : [],
    .../\balg\b/.test(text) ? ["    name-algorithm: true"] : []
  ];
}
function algorithmIn(text) {
  const keyed = /hmac[-_ ]?(?:with )?sha[-_ ]?(1|224|256|384|512)\b/i.exec(text)?.[1];
  if (keyed) return `hmac-sha-${keyed}(secret.signingKey)`;
  const hash = /sha[-_ ]?(256|384|512)/i.exec(text)?.[1] ?? "256";
  if (/\bed25519\b/i.test(text)) return "sign-ed25519(secret.signingKey)";
  if (/\becdsa\b/i.test(text)) return `sign-ecdsa-sha-${hash}(secret.signingKey)`;
  if (/\brsa\b.*\bpss\b/is.test(text)) return `sign-rsa-pss-sha-${hash}(secret.signingKey)`;
  if (/\brsa\b/i.test(text)) return `sign-rsa-sha-${hash}(secret.signingKey)`;
  return /\bhmac\b/i.test(text) ? `hmac-sha-${hash}(secret.signingKey)` : void 0;
}
function encodingIn(text) {
  const sentence = text.split(/(?<=\.)\s/).find((one) => /hmac|rsa|ecdsa|ed25519/i.test(one)) ?? "";
  const found = /base64url|url-safe base64|base64|hex/i.exec(sentence)?.[0] ?? /base64url|base64|hex/i.exec(text)?.[0] ?? "";
  return /url/i.test(found) ? "base64url" : /^base64/i.test(found) ? "base64" : "hex";
}
function headerNames(text) {
  const found = text.match(/\bX-[A-Za-z0-9-]*[A-Za-z0-9]\b/gi) ?? [];
  const written = /* @__PURE__ */ new Map();
  for (const name of found)
    if (!written.has(name.toLowerCase()) || /[A-Z]/.test(name)) written.set(name.toLowerCase(), name);
  return [...written.values()];
}
function timeHeader(text) {
  const name = headerNames(text).find((one) => /time|date|stamp/i.test(one)) ?? (/\bDate\b header|header Date\b/.test(text) ? "Date" : void 0);
  return name === void 0 ? void 0 : { name, expression: timeExpression(text, name) };
}
function timeExpression(text, name) {
  const written = /[`"]([^`"\s]*yyyy[^`"]*)[`"]/i.exec(text)?.[1];
  if (written) return `\${now | format(${JSON.stringify(quotedLetters(written))})}`;
  if (/milliseconds since|unix.*millisecond|epoch.*millisecond/i.test(text)) return "${now | unix-ms}";
  if (/seconds since|unix|epoch/i.test(text)) return "${now | unix}";
  if (name === "Date" || /RFC ?(?:1123|9110|7231)/i.test(text)) return "${now | http-date}";
  return "${now | rfc3339}";
}
var quotedLetters = (pattern) => pattern.replace(/'/g, "").replace(/YYYY/g, "yyyy").replace(/DD/g, "dd").replace(/[A-Za-z]+/g, (run) => run.replace(/[^yMdHhmsS]+/g, "'$&'"));
var nonceHeader = (text) => headerNames(text).find((one) => /nonce/i.test(one));
function recipeLines({ description: text = "", header }) {
  const time = timeHeader(text);
  const nonce = nonceHeader(text);
  const items = [...text.matchAll(/^\s*(?:\d+[.)]|[-*])\s+(.+)$/gm)].map(([, item]) => item);
  const lines = items.map((item) => itemLine(item));
  const shape = /[`"]([^`"]*\b(?:SEAL|SIGNATURE|SIG)\b[^`"]*)[`"]/.exec(text)?.[1];
  const names = (shape ?? "").match(/\bKEY[-_ ]?ID\b/g);
  const value = (shape ?? "SEAL").replace(/\b(?:SEAL|SIGNATURE|SIG)\b/, "${seal}").replace(/\bKEY[-_ ]?ID\b/g, "${key-id}");
  return [
    "define:",
    ...time ? [`  stamp: ${scalar(time.expression)}`] : [],
    ...names ? ["  key-id: KEY-ID                    # the id that the vendor gave your key"] : [],
    "  base:",
    "    lines:                          # joined by a line feed; joined-by: says otherwise",
    ...lines.length > 0 ? lines : [
      "      - ${sent.method}               # the documentation has no list of what is signed",
      "      - ${sent.target}",
      "      - ${sent.body | sha-256 | hex}"
    ],
    `  seal: \${base | ${algorithmIn(text)} | ${encodingIn(text)}}`,
    "headers:",
    ...time ? [`  ${time.name}: \${stamp}`] : [],
    ...nonce ? [`  ${nonce}: \${nonce}`] : [],
    `  ${header ?? "X-Signature"}: ${scalar(value)}`,
    "examples: []                        # the example of the documentation: check holds the recipe against it"
  ];
}
var readings = [
  [
    /\b(?:sha[-_ ]?\d+|md5|digest|hash)\b.*\b(?:body|payload|content)\b|\b(?:body|payload)\b.*\b(?:hash|digest)/i,
    digestOfBody
  ],
  [/\bX-[A-Za-z0-9-]+/i, headerValue],
  [/\bpath\b.*\bquery\b|\brequest target\b/i, () => "${sent.target}"],
  [/\bquery\b/i, (item) => /sort|order/i.test(item) ? "${sent.query | sorted | encoded}" : "${sent.query-text}"],
  [/\b(?:method|verb)\b/i, (item) => /lower|small/i.test(item) ? "${sent.method | lower}" : "${sent.method}"],
  [/\bpath\b/i, () => "${sent.path}"],
  [/\bhost\b/i, () => "${sent.authority}"],
  [/\b(?:url|uri|address)\b/i, () => "${sent.url}"],
  [/\bcontent[- ]type\b/i, () => '${sent.header.content-type ?? ""}'],
  [/\bnonce\b/i, () => "${nonce}"],
  [/\b(?:time|timestamp|date)\b/i, () => "${stamp}"],
  [/\bkey[- ]?id\b/i, () => "${key-id}"],
  [/\b(?:body|payload)\b/i, () => "${sent.body | text}"],
  [/\b(?:empty|blank) line\b/i, () => ""]
];
function itemLine(item) {
  const reading = readings.find(([shape]) => shape.test(item));
  if (!reading) return `      - ""                           # not understood: ${item}`;
  return `      - ${scalar(reading[1](item))}`;
}
function digestOfBody(item) {
  const size = /sha[-_ ]?(\d+)/i.exec(item)?.[1];
  const encoding = /base64url|base64/i.exec(item)?.[0].toLowerCase() ?? "hex";
  return `\${sent.body | ${size ? `sha-${size}` : /md5/i.test(item) ? "md5" : "sha-256"} | ${encoding}}`;
}
function headerValue(item) {
  const names = headerNames(item);
  const name = names.at(-1);
  const front = /[`"]([a-z0-9-]+: ?)[`"]/i.exec(item)?.[1] ?? "";
  return `${front}\${sent.header.${name.toLowerCase()} ?? ""}`;
}

// src/cli/commands/draft.ts
var { configure } = {
  configure(command, run) {
    command.argument("<operation>", "SOURCE/OPERATION, or the operation alone").option("--as <path>", "the name of the request below requests/; else from its group and name").option("--depth <number>", "GraphQL: levels of the answer that are asked for").option("--fields <names>", "GraphQL: only these fields of the answer, such as name,berth.code").action(
      run(async (context, [given = ""], { as, depth, fields }) => {
        const { terminal } = context;
        const collection = await context.collection();
        await openDocumentation(collection);
        const operation = findOperation(collection, given);
        const { name, file } = requestPath(as ?? draftName(operation));
        const path = placeInside(collection.root, file);
        if (existsSync(path)) {
          throw new Problem("file-exists", {
            what: `there is a request ${name} already`,
            where: { file },
            remedy: "--as PATH writes the draft under another name"
          });
        }
        const sessions = collection.names("session");
        const up = relative(join(collection.root, file, ".."), collection.root);
        const { definitions, ...index } = sourceIndex(collection, operation.source);
        const signature = await proposed(collection, operation);
        const text = draftRequest(operation, {
          definitions,
          entry: index.entry(operation.id),
          selection: selectionFrom(depth, fields),
          suppliers: suppliersFor(collection, operation),
          schema: `${up}/${editorSchemas}/request.json`,
          session: sessions.length === 1 ? sessions[0] : inheritedSession(collection, name),
          signature
        });
        await writeAtomically(path, text);
        await installEditorSchemas(collection.root);
        if (terminal.json)
          return emit(terminal, "draft", {
            request: name,
            file,
            operation: `${operation.source}/${operation.id}`,
            signature: signature?.file ?? null
          });
        terminal.print(`wrote ${terminal.out.bold(file)}`);
        if (signature?.file) {
          terminal.print(`wrote ${terminal.out.bold(signature.file)}`);
          terminal.note("the recipe is proposed from prose: compare it, line by line, with the documentation in it");
        }
        terminal.note(`next: echo-trail preview ${name}${signature ? " --signature" : ""}`);
        return 0;
      })
    );
    examples(command, [
      ["draft harbour/showBerth", "requests/berths/show-berth.yaml"],
      ["draft replaceCall --as calls/replace", "under a name of your own"]
    ]);
  }
};
async function proposed(collection, operation) {
  const scheme = operation.security.flatMap(({ schemes }) => schemes).find(describesSignature);
  if (!scheme) return void 0;
  const name = signatureName(scheme);
  const makes = headersMade(scheme);
  if (collection.names("signature").includes(name)) return { name, makes, file: void 0 };
  const file = `signatures/${name}.yaml`;
  const text = proposeSignature(scheme, operation.source, `../${editorSchemas}/signature.json`);
  await writeAtomically(placeInside(collection.root, file), text);
  return { name, makes, file };
}
function selectionFrom(depth, fields) {
  if (depth !== void 0 && !/^\d$/.test(String(depth)))
    throw new Problem("usage", { what: `--depth takes a number from 0 to 9, not ${depth}` });
  const names = typeof fields === "string" ? fields.split(",").map((one) => one.trim()) : void 0;
  return { ...depth !== void 0 && { depth: Number(depth) }, ...names && { fields: names } };
}
function inheritedSession(collection, name) {
  const session = collection.defaults(name).at(-1)?.content.session;
  return typeof session === "string" && session !== "none" ? session : void 0;
}
export {
  configure
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NsaS9jb21tYW5kcy9kcmFmdC50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9jb2xsZWN0aW9uL3N1cHBsaWVycy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9kb2N1bWVudGF0aW9uL2RyYWZ0L3NpZ25hdHVyZS50cyJdLAogICJzb3VyY2VzQ29udGVudCI6IFsiLyoqIGBkcmFmdGA6IGEgcmVxdWVzdCBmaWxlIGZyb20gdGhlIGRvY3VtZW50YXRpb24uICovXG5pbXBvcnQgeyBleGlzdHNTeW5jIH0gZnJvbSAnbm9kZTpmcyc7XG5pbXBvcnQgeyBqb2luLCByZWxhdGl2ZSB9IGZyb20gJ25vZGU6cGF0aCc7XG5pbXBvcnQgdHlwZSB7IENvbGxlY3Rpb24gfSBmcm9tICcuLi8uLi9jb3JlL2NvbGxlY3Rpb24vY29sbGVjdGlvbi5qcyc7XG5pbXBvcnQgeyBmaW5kT3BlcmF0aW9uLCBvcGVuRG9jdW1lbnRhdGlvbiwgc291cmNlSW5kZXggfSBmcm9tICcuLi8uLi9jb3JlL2NvbGxlY3Rpb24vc291cmNlLWluZGV4LmpzJztcbmltcG9ydCB7IHN1cHBsaWVyc0ZvciB9IGZyb20gJy4uLy4uL2NvcmUvY29sbGVjdGlvbi9zdXBwbGllcnMuanMnO1xuaW1wb3J0IHsgZHJhZnROYW1lLCBkcmFmdFJlcXVlc3QgfSBmcm9tICcuLi8uLi9jb3JlL2RvY3VtZW50YXRpb24vZHJhZnQvZHJhZnQuanMnO1xuaW1wb3J0IHtcbiAgZGVzY3JpYmVzU2lnbmF0dXJlLFxuICBoZWFkZXJzTWFkZSxcbiAgcHJvcG9zZVNpZ25hdHVyZSxcbiAgc2lnbmF0dXJlTmFtZSxcbn0gZnJvbSAnLi4vLi4vY29yZS9kb2N1bWVudGF0aW9uL2RyYWZ0L3NpZ25hdHVyZS5qcyc7XG5pbXBvcnQgdHlwZSB7IFNlbGVjdGlvblNldHRpbmdzIH0gZnJvbSAnLi4vLi4vY29yZS9kb2N1bWVudGF0aW9uL2dyYXBocWwvc2VsZWN0aW9uLmpzJztcbmltcG9ydCB0eXBlIHsgT3BlcmF0aW9uLCBPcGVyYXRpb25FbnRyeSB9IGZyb20gJy4uLy4uL2NvcmUvZG9jdW1lbnRhdGlvbi9tb2RlbC5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vY29yZS9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgd3JpdGVBdG9taWNhbGx5IH0gZnJvbSAnLi4vLi4vY29yZS9zdG9yYWdlL2F0b21pYy13cml0ZS5qcyc7XG5pbXBvcnQgeyBwbGFjZUluc2lkZSB9IGZyb20gJy4uLy4uL2NvcmUvc3RvcmFnZS9pbnNpZGUuanMnO1xuaW1wb3J0IHsgdHlwZSBDb21tYW5kTW9kdWxlLCBleGFtcGxlcyB9IGZyb20gJy4uL2NvbW1hbmQuanMnO1xuaW1wb3J0IHsgZWRpdG9yU2NoZW1hcywgaW5zdGFsbEVkaXRvclNjaGVtYXMgfSBmcm9tICcuLi9lZGl0b3Itc2NoZW1hcy5qcyc7XG5pbXBvcnQgeyBlbWl0IH0gZnJvbSAnLi4vZW1pdC5qcyc7XG5pbXBvcnQgeyByZXF1ZXN0UGF0aCB9IGZyb20gJy4uL3JlcXVlc3QtcGF0aC5qcyc7XG5cbmV4cG9ydCBjb25zdCB7IGNvbmZpZ3VyZSB9OiBDb21tYW5kTW9kdWxlID0ge1xuICBjb25maWd1cmUoY29tbWFuZCwgcnVuKSB7XG4gICAgY29tbWFuZFxuICAgICAgLmFyZ3VtZW50KCc8b3BlcmF0aW9uPicsICdTT1VSQ0UvT1BFUkFUSU9OLCBvciB0aGUgb3BlcmF0aW9uIGFsb25lJylcbiAgICAgIC5vcHRpb24oJy0tYXMgPHBhdGg+JywgJ3RoZSBuYW1lIG9mIHRoZSByZXF1ZXN0IGJlbG93IHJlcXVlc3RzLzsgZWxzZSBmcm9tIGl0cyBncm91cCBhbmQgbmFtZScpXG4gICAgICAub3B0aW9uKCctLWRlcHRoIDxudW1iZXI+JywgJ0dyYXBoUUw6IGxldmVscyBvZiB0aGUgYW5zd2VyIHRoYXQgYXJlIGFza2VkIGZvcicpXG4gICAgICAub3B0aW9uKCctLWZpZWxkcyA8bmFtZXM+JywgJ0dyYXBoUUw6IG9ubHkgdGhlc2UgZmllbGRzIG9mIHRoZSBhbnN3ZXIsIHN1Y2ggYXMgbmFtZSxiZXJ0aC5jb2RlJylcbiAgICAgIC5hY3Rpb24oXG4gICAgICAgIHJ1bihhc3luYyAoY29udGV4dCwgW2dpdmVuID0gJyddLCB7IGFzLCBkZXB0aCwgZmllbGRzIH0pID0+IHtcbiAgICAgICAgICBjb25zdCB7IHRlcm1pbmFsIH0gPSBjb250ZXh0O1xuICAgICAgICAgIGNvbnN0IGNvbGxlY3Rpb24gPSBhd2FpdCBjb250ZXh0LmNvbGxlY3Rpb24oKTtcbiAgICAgICAgICBhd2FpdCBvcGVuRG9jdW1lbnRhdGlvbihjb2xsZWN0aW9uKTtcbiAgICAgICAgICBjb25zdCBvcGVyYXRpb24gPSBmaW5kT3BlcmF0aW9uKGNvbGxlY3Rpb24sIGdpdmVuKTtcbiAgICAgICAgICBjb25zdCB7IG5hbWUsIGZpbGUgfSA9IHJlcXVlc3RQYXRoKChhcyBhcyBzdHJpbmcgfCB1bmRlZmluZWQpID8/IGRyYWZ0TmFtZShvcGVyYXRpb24pKTtcbiAgICAgICAgICBjb25zdCBwYXRoID0gcGxhY2VJbnNpZGUoY29sbGVjdGlvbi5yb290LCBmaWxlKTtcbiAgICAgICAgICBpZiAoZXhpc3RzU3luYyhwYXRoKSkge1xuICAgICAgICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ2ZpbGUtZXhpc3RzJywge1xuICAgICAgICAgICAgICB3aGF0OiBgdGhlcmUgaXMgYSByZXF1ZXN0ICR7bmFtZX0gYWxyZWFkeWAsXG4gICAgICAgICAgICAgIHdoZXJlOiB7IGZpbGUgfSxcbiAgICAgICAgICAgICAgcmVtZWR5OiAnLS1hcyBQQVRIIHdyaXRlcyB0aGUgZHJhZnQgdW5kZXIgYW5vdGhlciBuYW1lJyxcbiAgICAgICAgICAgIH0pO1xuICAgICAgICAgIH1cbiAgICAgICAgICBjb25zdCBzZXNzaW9ucyA9IGNvbGxlY3Rpb24ubmFtZXMoJ3Nlc3Npb24nKTtcbiAgICAgICAgICBjb25zdCB1cCA9IHJlbGF0aXZlKGpvaW4oY29sbGVjdGlvbi5yb290LCBmaWxlLCAnLi4nKSwgY29sbGVjdGlvbi5yb290KTtcbiAgICAgICAgICBjb25zdCB7IGRlZmluaXRpb25zLCAuLi5pbmRleCB9ID0gc291cmNlSW5kZXgoY29sbGVjdGlvbiwgb3BlcmF0aW9uLnNvdXJjZSk7XG4gICAgICAgICAgY29uc3Qgc2lnbmF0dXJlID0gYXdhaXQgcHJvcG9zZWQoY29sbGVjdGlvbiwgb3BlcmF0aW9uKTtcbiAgICAgICAgICBjb25zdCB0ZXh0ID0gZHJhZnRSZXF1ZXN0KG9wZXJhdGlvbiwge1xuICAgICAgICAgICAgZGVmaW5pdGlvbnMsXG4gICAgICAgICAgICBlbnRyeTogaW5kZXguZW50cnkob3BlcmF0aW9uLmlkKSBhcyBPcGVyYXRpb25FbnRyeSxcbiAgICAgICAgICAgIHNlbGVjdGlvbjogc2VsZWN0aW9uRnJvbShkZXB0aCwgZmllbGRzKSxcbiAgICAgICAgICAgIHN1cHBsaWVyczogc3VwcGxpZXJzRm9yKGNvbGxlY3Rpb24sIG9wZXJhdGlvbiksXG4gICAgICAgICAgICBzY2hlbWE6IGAke3VwfS8ke2VkaXRvclNjaGVtYXN9L3JlcXVlc3QuanNvbmAsXG4gICAgICAgICAgICBzZXNzaW9uOiBzZXNzaW9ucy5sZW5ndGggPT09IDEgPyBzZXNzaW9uc1swXSA6IGluaGVyaXRlZFNlc3Npb24oY29sbGVjdGlvbiwgbmFtZSksXG4gICAgICAgICAgICBzaWduYXR1cmUsXG4gICAgICAgICAgfSk7XG4gICAgICAgICAgYXdhaXQgd3JpdGVBdG9taWNhbGx5KHBhdGgsIHRleHQpO1xuICAgICAgICAgIGF3YWl0IGluc3RhbGxFZGl0b3JTY2hlbWFzKGNvbGxlY3Rpb24ucm9vdCk7XG4gICAgICAgICAgaWYgKHRlcm1pbmFsLmpzb24pXG4gICAgICAgICAgICByZXR1cm4gZW1pdCh0ZXJtaW5hbCwgJ2RyYWZ0Jywge1xuICAgICAgICAgICAgICByZXF1ZXN0OiBuYW1lLFxuICAgICAgICAgICAgICBmaWxlLFxuICAgICAgICAgICAgICBvcGVyYXRpb246IGAke29wZXJhdGlvbi5zb3VyY2V9LyR7b3BlcmF0aW9uLmlkfWAsXG4gICAgICAgICAgICAgIHNpZ25hdHVyZTogc2lnbmF0dXJlPy5maWxlID8/IG51bGwsXG4gICAgICAgICAgICB9KTtcbiAgICAgICAgICB0ZXJtaW5hbC5wcmludChgd3JvdGUgJHt0ZXJtaW5hbC5vdXQuYm9sZChmaWxlKX1gKTtcbiAgICAgICAgICBpZiAoc2lnbmF0dXJlPy5maWxlKSB7XG4gICAgICAgICAgICB0ZXJtaW5hbC5wcmludChgd3JvdGUgJHt0ZXJtaW5hbC5vdXQuYm9sZChzaWduYXR1cmUuZmlsZSl9YCk7XG4gICAgICAgICAgICB0ZXJtaW5hbC5ub3RlKCd0aGUgcmVjaXBlIGlzIHByb3Bvc2VkIGZyb20gcHJvc2U6IGNvbXBhcmUgaXQsIGxpbmUgYnkgbGluZSwgd2l0aCB0aGUgZG9jdW1lbnRhdGlvbiBpbiBpdCcpO1xuICAgICAgICAgIH1cbiAgICAgICAgICB0ZXJtaW5hbC5ub3RlKGBuZXh0OiBlY2hvLXRyYWlsIHByZXZpZXcgJHtuYW1lfSR7c2lnbmF0dXJlID8gJyAtLXNpZ25hdHVyZScgOiAnJ31gKTtcbiAgICAgICAgICByZXR1cm4gMDtcbiAgICAgICAgfSksXG4gICAgICApO1xuICAgIGV4YW1wbGVzKGNvbW1hbmQsIFtcbiAgICAgIFsnZHJhZnQgaGFyYm91ci9zaG93QmVydGgnLCAncmVxdWVzdHMvYmVydGhzL3Nob3ctYmVydGgueWFtbCddLFxuICAgICAgWydkcmFmdCByZXBsYWNlQ2FsbCAtLWFzIGNhbGxzL3JlcGxhY2UnLCAndW5kZXIgYSBuYW1lIG9mIHlvdXIgb3duJ10sXG4gICAgXSk7XG4gIH0sXG59O1xuXG4vKiogVGhlIHNpZ25hdHVyZSB0aGF0IHRoZSBkb2N1bWVudGF0aW9uIGRlc2NyaWJlcywgd3JpdHRlbiB3aGVyZSB0aGVyZSBpcyBub25lIG9mIHRoYXQgbmFtZSB5ZXQuICovXG5hc3luYyBmdW5jdGlvbiBwcm9wb3NlZChcbiAgY29sbGVjdGlvbjogQ29sbGVjdGlvbixcbiAgb3BlcmF0aW9uOiBPcGVyYXRpb24sXG4pOiBQcm9taXNlPFxuICB7IHJlYWRvbmx5IG5hbWU6IHN0cmluZzsgcmVhZG9ubHkgbWFrZXM6IFJlYWRvbmx5U2V0PHN0cmluZz47IHJlYWRvbmx5IGZpbGU6IHN0cmluZyB8IHVuZGVmaW5lZCB9IHwgdW5kZWZpbmVkXG4+IHtcbiAgY29uc3Qgc2NoZW1lID0gb3BlcmF0aW9uLnNlY3VyaXR5LmZsYXRNYXAoKHsgc2NoZW1lcyB9KSA9PiBzY2hlbWVzKS5maW5kKGRlc2NyaWJlc1NpZ25hdHVyZSk7XG4gIGlmICghc2NoZW1lKSByZXR1cm4gdW5kZWZpbmVkO1xuICBjb25zdCBuYW1lID0gc2lnbmF0dXJlTmFtZShzY2hlbWUpO1xuICBjb25zdCBtYWtlcyA9IGhlYWRlcnNNYWRlKHNjaGVtZSk7XG4gIGlmIChjb2xsZWN0aW9uLm5hbWVzKCdzaWduYXR1cmUnKS5pbmNsdWRlcyhuYW1lKSkgcmV0dXJuIHsgbmFtZSwgbWFrZXMsIGZpbGU6IHVuZGVmaW5lZCB9O1xuICBjb25zdCBmaWxlID0gYHNpZ25hdHVyZXMvJHtuYW1lfS55YW1sYDtcbiAgY29uc3QgdGV4dCA9IHByb3Bvc2VTaWduYXR1cmUoc2NoZW1lLCBvcGVyYXRpb24uc291cmNlLCBgLi4vJHtlZGl0b3JTY2hlbWFzfS9zaWduYXR1cmUuanNvbmApO1xuICBhd2FpdCB3cml0ZUF0b21pY2FsbHkocGxhY2VJbnNpZGUoY29sbGVjdGlvbi5yb290LCBmaWxlKSwgdGV4dCk7XG4gIHJldHVybiB7IG5hbWUsIG1ha2VzLCBmaWxlIH07XG59XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gdXNhZ2UgKi9cbmZ1bmN0aW9uIHNlbGVjdGlvbkZyb20oZGVwdGg6IHVua25vd24sIGZpZWxkczogdW5rbm93bik6IFBhcnRpYWw8U2VsZWN0aW9uU2V0dGluZ3M+IHtcbiAgaWYgKGRlcHRoICE9PSB1bmRlZmluZWQgJiYgIS9eXFxkJC8udGVzdChTdHJpbmcoZGVwdGgpKSlcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgndXNhZ2UnLCB7IHdoYXQ6IGAtLWRlcHRoIHRha2VzIGEgbnVtYmVyIGZyb20gMCB0byA5LCBub3QgJHtkZXB0aH1gIH0pO1xuICBjb25zdCBuYW1lcyA9IHR5cGVvZiBmaWVsZHMgPT09ICdzdHJpbmcnID8gZmllbGRzLnNwbGl0KCcsJykubWFwKChvbmUpID0+IG9uZS50cmltKCkpIDogdW5kZWZpbmVkO1xuICByZXR1cm4geyAuLi4oZGVwdGggIT09IHVuZGVmaW5lZCAmJiB7IGRlcHRoOiBOdW1iZXIoZGVwdGgpIH0pLCAuLi4obmFtZXMgJiYgeyBmaWVsZHM6IG5hbWVzIH0pIH07XG59XG5cbi8qKiBPZiBzZXZlcmFsIHNlc3Npb25zIHRoZSBvbmUgdGhhdCBob2xkcyBmb3IgdGhlIGZvbGRlci4gKi9cbmZ1bmN0aW9uIGluaGVyaXRlZFNlc3Npb24oY29sbGVjdGlvbjogQ29sbGVjdGlvbiwgbmFtZTogc3RyaW5nKTogc3RyaW5nIHwgdW5kZWZpbmVkIHtcbiAgY29uc3Qgc2Vzc2lvbiA9IGNvbGxlY3Rpb24uZGVmYXVsdHMobmFtZSkuYXQoLTEpPy5jb250ZW50LnNlc3Npb247XG4gIHJldHVybiB0eXBlb2Ygc2Vzc2lvbiA9PT0gJ3N0cmluZycgJiYgc2Vzc2lvbiAhPT0gJ25vbmUnID8gc2Vzc2lvbiA6IHVuZGVmaW5lZDtcbn1cbiIsICIvKiogV2hhdCBzdXBwbGllcyB0aGUgdmFsdWVzIG9mIGFuIG9wZXJhdGlvbidzIHBhcmFtZXRlcnMsIGluIHRlcm1zIG9mIHRoZSBjb2xsZWN0aW9uOiBhIHJlcXVlc3QsIHdoZXJlIG9uZSBpcyB0aGVyZS4gKi9cbmltcG9ydCB0eXBlIHsgU3VwcGxpZXIgfSBmcm9tICcuLi9kb2N1bWVudGF0aW9uL2RyYWZ0L2lucHV0cy5qcyc7XG5pbXBvcnQgeyBsaW5rc09mIH0gZnJvbSAnLi4vZG9jdW1lbnRhdGlvbi9saW5rcy5qcyc7XG5pbXBvcnQgdHlwZSB7IE9wZXJhdGlvbiB9IGZyb20gJy4uL2RvY3VtZW50YXRpb24vbW9kZWwuanMnO1xuaW1wb3J0IHsgdXNlcnNPZk9wZXJhdGlvbnMgfSBmcm9tICcuL2FmZmVjdGVkLmpzJztcbmltcG9ydCB0eXBlIHsgQ29sbGVjdGlvbiB9IGZyb20gJy4vY29sbGVjdGlvbi5qcyc7XG5pbXBvcnQgeyBzb3VyY2VJbmRleCB9IGZyb20gJy4vc291cmNlLWluZGV4LmpzJztcblxuLyoqIEJ5IHRoZSBuYW1lIG9mIHRoZSBwYXJhbWV0ZXIuICovXG5leHBvcnQgZnVuY3Rpb24gc3VwcGxpZXJzRm9yKGNvbGxlY3Rpb246IENvbGxlY3Rpb24sIG9wZXJhdGlvbjogT3BlcmF0aW9uKTogUmVhZG9ubHlNYXA8c3RyaW5nLCBTdXBwbGllcj4ge1xuICBjb25zdCB1c2VycyA9IHVzZXJzT2ZPcGVyYXRpb25zKGNvbGxlY3Rpb24pO1xuICByZXR1cm4gbmV3IE1hcChcbiAgICBsaW5rc09mKG9wZXJhdGlvbiwgc291cmNlSW5kZXgoY29sbGVjdGlvbiwgb3BlcmF0aW9uLnNvdXJjZSkpLm1hcCgoeyBuYW1lLCBvcGVyYXRpb246IGZyb20sIHBsYWNlLCBndWVzcyB9KSA9PiB7XG4gICAgICBjb25zdCBbcmVxdWVzdF0gPSB1c2VycyhgJHtvcGVyYXRpb24uc291cmNlfS8ke2Zyb219YCkucmVxdWVzdHM7XG4gICAgICBjb25zdCBob2xkZXIgPSByZXF1ZXN0ID8/IGAke29wZXJhdGlvbi5zb3VyY2V9LyR7ZnJvbX1gO1xuICAgICAgcmV0dXJuIFtuYW1lLCB7IGZyb206IGAke2hvbGRlcn0sICR7cGxhY2V9YCwgZHJhZnRlZDogcmVxdWVzdCAhPT0gdW5kZWZpbmVkLCBndWVzcyB9XTtcbiAgICB9KSxcbiAgKTtcbn1cbiIsICIvKipcbiAqIEEgcmVjaXBlIHByb3Bvc2VkIGZyb20gdGhlIHByb3NlIG9mIGEgc2VjdXJpdHkgc2NoZW1lOiBpdHMgYWxnb3JpdGhtLCBpdHMgbGluZXMgaW4gYSBsaXN0LCB0aGUgaGVhZGVycyBpdFxuICogc3BlYWtzIG9mLiBXaGF0IGlzIG5vdCB1bmRlcnN0b29kIHN0YW5kcyBpbiB0aGUgZmlsZSBhcyBhIGNvbW1lbnQuXG4gKi9cbmltcG9ydCB7IHNjYWxhciB9IGZyb20gJy4vbGluZXMuanMnO1xuXG4vKiogQSBzY2hlbWUgYXMgdGhlIGRvY3VtZW50YXRpb24gZGVzY3JpYmVzIGl0LiAqL1xuZXhwb3J0IGludGVyZmFjZSBEZXNjcmliZWRTY2hlbWUge1xuICByZWFkb25seSBuYW1lOiBzdHJpbmc7XG4gIHJlYWRvbmx5IGRlc2NyaXB0aW9uPzogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICAvKiogVGhlIGhlYWRlciB0aGF0IHRha2VzIHdoYXQgaXMgbWFkZS4gKi9cbiAgcmVhZG9ubHkgaGVhZGVyPzogc3RyaW5nIHwgdW5kZWZpbmVkO1xufVxuXG4vKiogV2hldGhlciBpdCBpcyBhIHNpZ25hdHVyZSB0aGF0IHRoZSBzY2hlbWUgZGVzY3JpYmVzLCBhbmQgZW5vdWdoIG9mIGl0IHRvIHByb3Bvc2UgYSByZWNpcGUuICovXG5leHBvcnQgZnVuY3Rpb24gZGVzY3JpYmVzU2lnbmF0dXJlKHsgZGVzY3JpcHRpb24gPSAnJyB9OiBEZXNjcmliZWRTY2hlbWUpOiBib29sZWFuIHtcbiAgcmV0dXJuIChcbiAgICBpc01lc3NhZ2VTaWduYXR1cmUoZGVzY3JpcHRpb24pIHx8XG4gICAgKC9cXGIoPzpobWFjfHNpZ25hdHVyZXxzaWduZWR8c2VhbHxzZWFsZWQpXFxiL2kudGVzdChkZXNjcmlwdGlvbikgJiYgYWxnb3JpdGhtSW4oZGVzY3JpcHRpb24pICE9PSB1bmRlZmluZWQpXG4gICk7XG59XG5cbmV4cG9ydCBjb25zdCBzaWduYXR1cmVOYW1lID0gKHsgbmFtZSB9OiBEZXNjcmliZWRTY2hlbWUpOiBzdHJpbmcgPT5cbiAgbmFtZVxuICAgIC5yZXBsYWNlKC8oW1xccHtMbH1cXHB7Tn1dKShcXHB7THV9KS9ndSwgJyQxLSQyJylcbiAgICAudG9Mb3dlckNhc2UoKVxuICAgIC5yZXBsYWNlKC9bXlxccHtMfVxccHtOfV0rL2d1LCAnLScpO1xuXG4vKiogQHBhcmFtIHNvdXJjZSBvZiB0aGUgZG9jdW1lbnRhdGlvbiwgZm9yIHRoZSBjb21tZW50IGF0IHRoZSB0b3AgKi9cbmV4cG9ydCBmdW5jdGlvbiBwcm9wb3NlU2lnbmF0dXJlKHNjaGVtZTogRGVzY3JpYmVkU2NoZW1lLCBzb3VyY2U6IHN0cmluZywgc2NoZW1hOiBzdHJpbmcpOiBzdHJpbmcge1xuICBjb25zdCB7IG5hbWUsIGRlc2NyaXB0aW9uID0gJycgfSA9IHNjaGVtZTtcbiAgY29uc3QgaGVhZCA9IFtcbiAgICBgIyB5YW1sLWxhbmd1YWdlLXNlcnZlcjogJHNjaGVtYT0ke3NjaGVtYX1gLFxuICAgIGBhYm91dDogJHtzY2FsYXIoYCR7bmFtZX0sIGFzICR7c291cmNlfSBkZXNjcmliZXMgaXRgKX1gLFxuICAgICcjIFByb3Bvc2VkIGZyb20gdGhlIHByb3NlIGJlbG93OiBjb21wYXJlIGVhY2ggbGluZSB3aXRoIGl0LCBhbmQgcHJvdmUgaXQgd2l0aCBhbiBleGFtcGxlIG9mIHRoZSB2ZW5kb3IuJyxcbiAgICAuLi5kZXNjcmlwdGlvbi5zcGxpdCgnXFxuJykubWFwKChsaW5lKSA9PiBgIyAgICR7bGluZX1gLnRyaW1FbmQoKSksXG4gIF07XG4gIGNvbnN0IGxpbmVzID0gaXNNZXNzYWdlU2lnbmF0dXJlKGRlc2NyaXB0aW9uKSA/IG1lc3NhZ2VMaW5lcyhkZXNjcmlwdGlvbikgOiByZWNpcGVMaW5lcyhzY2hlbWUpO1xuICByZXR1cm4gYCR7Wy4uLmhlYWQsIC4uLmxpbmVzXS5qb2luKCdcXG4nKX1cXG5gO1xufVxuXG4vKiogSGVhZGVycyB0aGF0IHRoZSByZWNpcGUgbWFrZXMgaXRzZWxmLCBpbiBzbWFsbCBsZXR0ZXJzOiB0aGV5IGFyZSBubyBpbnB1dHMgb2YgYSByZXF1ZXN0LiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGhlYWRlcnNNYWRlKHNjaGVtZTogRGVzY3JpYmVkU2NoZW1lKTogUmVhZG9ubHlTZXQ8c3RyaW5nPiB7XG4gIGNvbnN0IHsgZGVzY3JpcHRpb24gPSAnJywgaGVhZGVyIH0gPSBzY2hlbWU7XG4gIGlmIChpc01lc3NhZ2VTaWduYXR1cmUoZGVzY3JpcHRpb24pKSByZXR1cm4gbmV3IFNldChbJ3NpZ25hdHVyZScsICdzaWduYXR1cmUtaW5wdXQnLCAnY29udGVudC1kaWdlc3QnXSk7XG4gIHJldHVybiBuZXcgU2V0KFxuICAgIFtoZWFkZXIsIHRpbWVIZWFkZXIoZGVzY3JpcHRpb24pPy5uYW1lLCBub25jZUhlYWRlcihkZXNjcmlwdGlvbildXG4gICAgICAuZmlsdGVyKChvbmUpID0+IG9uZSAhPT0gdW5kZWZpbmVkKVxuICAgICAgLm1hcCgob25lKSA9PiBvbmUudG9Mb3dlckNhc2UoKSksXG4gICk7XG59XG5cbmNvbnN0IGlzTWVzc2FnZVNpZ25hdHVyZSA9ICh0ZXh0OiBzdHJpbmcpOiBib29sZWFuID0+XG4gIC9cXGJSRkMgPzk0MjFcXGJ8XFxiU2lnbmF0dXJlLUlucHV0XFxifEhUVFAgbWVzc2FnZSBzaWduYXR1cmUvaS50ZXN0KHRleHQpO1xuXG5jb25zdCByZWdpc3RlcmVkID0gW1xuICAncnNhLXBzcy1zaGE1MTInLFxuICAncnNhLXYxXzUtc2hhMjU2JyxcbiAgJ2htYWMtc2hhMjU2JyxcbiAgJ2VjZHNhLXAyNTYtc2hhMjU2JyxcbiAgJ2VjZHNhLXAzODQtc2hhMzg0JyxcbiAgJ2VkMjU1MTknLFxuXTtcblxuZnVuY3Rpb24gbWVzc2FnZUxpbmVzKHRleHQ6IHN0cmluZyk6IHN0cmluZ1tdIHtcbiAgY29uc3QgYWxnb3JpdGhtID0gcmVnaXN0ZXJlZC5maW5kKChvbmUpID0+IHRleHQudG9Mb3dlckNhc2UoKS5pbmNsdWRlcyhvbmUpKTtcbiAgY29uc3QgbmFtZWQgPSBbLi4udGV4dC5tYXRjaEFsbCgvW2BcIl0oQFthLXotXSt8W2Etel1bYS16MC05LV0qKVtgXCJdL2cpXS5tYXAoKFssIG9uZV0pID0+IG9uZSBhcyBzdHJpbmcpO1xuICBjb25zdCBjb21wb25lbnRzID0gWy4uLm5ldyBTZXQobmFtZWQpXS5maWx0ZXIoKG9uZSkgPT4gb25lLnN0YXJ0c1dpdGgoJ0AnKSB8fCAvXig/OmNvbnRlbnR8ZGF0ZXxob3N0fHgtKS8udGVzdChvbmUpKTtcbiAgY29uc3QgZGlnZXN0ID0gL2NvbnRlbnQtZGlnZXN0L2kudGVzdCh0ZXh0KTtcbiAgcmV0dXJuIFtcbiAgICAna2luZDogbWVzc2FnZS1zaWduYXR1cmUnLFxuICAgIC4uLihkaWdlc3QgPyBbYGRpZ2VzdDogJHsvc2hhLT81MTIvaS50ZXN0KHRleHQucmVwbGFjZUFsbCgvcnNhLXBzcy1zaGE1MTIvZ2ksICcnKSkgPyAnc2hhLTUxMicgOiAnc2hhLTI1Nid9YF0gOiBbXSksXG4gICAgJ3NpZ25hdHVyZXM6JyxcbiAgICAnICBzaWcxOicsXG4gICAgY29tcG9uZW50cy5sZW5ndGggPiAwXG4gICAgICA/IGAgICAgY29tcG9uZW50czogWyR7Y29tcG9uZW50cy5tYXAoKG9uZSkgPT4gSlNPTi5zdHJpbmdpZnkob25lKSkuam9pbignLCAnKX1dYFxuICAgICAgOiAnICAgIGNvbXBvbmVudHM6IFtcIkBtZXRob2RcIiwgXCJAdGFyZ2V0LXVyaVwiXSAgICAgIyB0aGUgZG9jdW1lbnRhdGlvbiBuYW1lcyBub25lJyxcbiAgICBgICAgIGFsZ29yaXRobTogJHthbGdvcml0aG0gPz8gJ2htYWMtc2hhMjU2ICAgICAgICAgICAgICAjIHRoZSBkb2N1bWVudGF0aW9uIG5hbWVzIG5vbmUgb2YgdGhlIHJlZ2lzdHJ5J31gLFxuICAgICcgICAga2V5OiAke3NlY3JldC5zaWduaW5nS2V5fScsXG4gICAgJyAgICBrZXktaWQ6IEtFWS1JRCAgICAgICAgICAgICAgICAgICMgdGhlIGlkIHRoYXQgdGhlIHZlbmRvciBnYXZlIHlvdXIga2V5JyxcbiAgICAuLi4oL1xcYm5vbmNlXFxiL2kudGVzdCh0ZXh0KSA/IFsnICAgIG5vbmNlOiAke25vbmNlfSddIDogW10pLFxuICAgIC4uLigvXFxiZXhwaXJlc1xcYi9pLnRlc3QodGV4dCkgPyBbJyAgICBleHBpcmVzOiA1bSddIDogW10pLFxuICAgIC4uLigvXFxiYWxnXFxiLy50ZXN0KHRleHQpID8gWycgICAgbmFtZS1hbGdvcml0aG06IHRydWUnXSA6IFtdKSxcbiAgXTtcbn1cblxuZnVuY3Rpb24gYWxnb3JpdGhtSW4odGV4dDogc3RyaW5nKTogc3RyaW5nIHwgdW5kZWZpbmVkIHtcbiAgY29uc3Qga2V5ZWQgPSAvaG1hY1stXyBdPyg/OndpdGggKT9zaGFbLV8gXT8oMXwyMjR8MjU2fDM4NHw1MTIpXFxiL2kuZXhlYyh0ZXh0KT8uWzFdO1xuICBpZiAoa2V5ZWQpIHJldHVybiBgaG1hYy1zaGEtJHtrZXllZH0oc2VjcmV0LnNpZ25pbmdLZXkpYDtcbiAgY29uc3QgaGFzaCA9IC9zaGFbLV8gXT8oMjU2fDM4NHw1MTIpL2kuZXhlYyh0ZXh0KT8uWzFdID8/ICcyNTYnO1xuICBpZiAoL1xcYmVkMjU1MTlcXGIvaS50ZXN0KHRleHQpKSByZXR1cm4gJ3NpZ24tZWQyNTUxOShzZWNyZXQuc2lnbmluZ0tleSknO1xuICBpZiAoL1xcYmVjZHNhXFxiL2kudGVzdCh0ZXh0KSkgcmV0dXJuIGBzaWduLWVjZHNhLXNoYS0ke2hhc2h9KHNlY3JldC5zaWduaW5nS2V5KWA7XG4gIGlmICgvXFxicnNhXFxiLipcXGJwc3NcXGIvaXMudGVzdCh0ZXh0KSkgcmV0dXJuIGBzaWduLXJzYS1wc3Mtc2hhLSR7aGFzaH0oc2VjcmV0LnNpZ25pbmdLZXkpYDtcbiAgaWYgKC9cXGJyc2FcXGIvaS50ZXN0KHRleHQpKSByZXR1cm4gYHNpZ24tcnNhLXNoYS0ke2hhc2h9KHNlY3JldC5zaWduaW5nS2V5KWA7XG4gIHJldHVybiAvXFxiaG1hY1xcYi9pLnRlc3QodGV4dCkgPyBgaG1hYy1zaGEtJHtoYXNofShzZWNyZXQuc2lnbmluZ0tleSlgIDogdW5kZWZpbmVkO1xufVxuXG4vKiogVGhlIGZpcnN0IHRoYXQgaXMgbmFtZWQgaW4gdGhlIHNlbnRlbmNlIG9mIHRoZSBhbGdvcml0aG0sIGVsc2UgYW55d2hlcmUuICovXG5mdW5jdGlvbiBlbmNvZGluZ0luKHRleHQ6IHN0cmluZyk6IHN0cmluZyB7XG4gIGNvbnN0IHNlbnRlbmNlID0gdGV4dC5zcGxpdCgvKD88PVxcLilcXHMvKS5maW5kKChvbmUpID0+IC9obWFjfHJzYXxlY2RzYXxlZDI1NTE5L2kudGVzdChvbmUpKSA/PyAnJztcbiAgY29uc3QgZm91bmQgPVxuICAgIC9iYXNlNjR1cmx8dXJsLXNhZmUgYmFzZTY0fGJhc2U2NHxoZXgvaS5leGVjKHNlbnRlbmNlKT8uWzBdID8/IC9iYXNlNjR1cmx8YmFzZTY0fGhleC9pLmV4ZWModGV4dCk/LlswXSA/PyAnJztcbiAgcmV0dXJuIC91cmwvaS50ZXN0KGZvdW5kKSA/ICdiYXNlNjR1cmwnIDogL15iYXNlNjQvaS50ZXN0KGZvdW5kKSA/ICdiYXNlNjQnIDogJ2hleCc7XG59XG5cbi8qKiBBcyB0aGV5IGFyZSB3cml0dGVuIHdpdGggY2FwaXRhbCBsZXR0ZXJzLCB3aGVyZSB0aGV5IGFyZS4gKi9cbmZ1bmN0aW9uIGhlYWRlck5hbWVzKHRleHQ6IHN0cmluZyk6IHN0cmluZ1tdIHtcbiAgY29uc3QgZm91bmQgPSB0ZXh0Lm1hdGNoKC9cXGJYLVtBLVphLXowLTktXSpbQS1aYS16MC05XVxcYi9naSkgPz8gW107XG4gIGNvbnN0IHdyaXR0ZW4gPSBuZXcgTWFwPHN0cmluZywgc3RyaW5nPigpO1xuICBmb3IgKGNvbnN0IG5hbWUgb2YgZm91bmQpXG4gICAgaWYgKCF3cml0dGVuLmhhcyhuYW1lLnRvTG93ZXJDYXNlKCkpIHx8IC9bQS1aXS8udGVzdChuYW1lKSkgd3JpdHRlbi5zZXQobmFtZS50b0xvd2VyQ2FzZSgpLCBuYW1lKTtcbiAgcmV0dXJuIFsuLi53cml0dGVuLnZhbHVlcygpXTtcbn1cblxuZnVuY3Rpb24gdGltZUhlYWRlcih0ZXh0OiBzdHJpbmcpOiB7IHJlYWRvbmx5IG5hbWU6IHN0cmluZzsgcmVhZG9ubHkgZXhwcmVzc2lvbjogc3RyaW5nIH0gfCB1bmRlZmluZWQge1xuICBjb25zdCBuYW1lID1cbiAgICBoZWFkZXJOYW1lcyh0ZXh0KS5maW5kKChvbmUpID0+IC90aW1lfGRhdGV8c3RhbXAvaS50ZXN0KG9uZSkpID8/XG4gICAgKC9cXGJEYXRlXFxiIGhlYWRlcnxoZWFkZXIgRGF0ZVxcYi8udGVzdCh0ZXh0KSA/ICdEYXRlJyA6IHVuZGVmaW5lZCk7XG4gIHJldHVybiBuYW1lID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiB7IG5hbWUsIGV4cHJlc3Npb246IHRpbWVFeHByZXNzaW9uKHRleHQsIG5hbWUpIH07XG59XG5cbmZ1bmN0aW9uIHRpbWVFeHByZXNzaW9uKHRleHQ6IHN0cmluZywgbmFtZTogc3RyaW5nKTogc3RyaW5nIHtcbiAgY29uc3Qgd3JpdHRlbiA9IC9bYFwiXShbXmBcIlxcc10qeXl5eVteYFwiXSopW2BcIl0vaS5leGVjKHRleHQpPy5bMV07XG4gIGlmICh3cml0dGVuKSByZXR1cm4gYFxcJHtub3cgfCBmb3JtYXQoJHtKU09OLnN0cmluZ2lmeShxdW90ZWRMZXR0ZXJzKHdyaXR0ZW4pKX0pfWA7XG4gIGlmICgvbWlsbGlzZWNvbmRzIHNpbmNlfHVuaXguKm1pbGxpc2Vjb25kfGVwb2NoLiptaWxsaXNlY29uZC9pLnRlc3QodGV4dCkpIHJldHVybiAnJHtub3cgfCB1bml4LW1zfSc7XG4gIGlmICgvc2Vjb25kcyBzaW5jZXx1bml4fGVwb2NoL2kudGVzdCh0ZXh0KSkgcmV0dXJuICcke25vdyB8IHVuaXh9JztcbiAgaWYgKG5hbWUgPT09ICdEYXRlJyB8fCAvUkZDID8oPzoxMTIzfDkxMTB8NzIzMSkvaS50ZXN0KHRleHQpKSByZXR1cm4gJyR7bm93IHwgaHR0cC1kYXRlfSc7XG4gIHJldHVybiAnJHtub3cgfCByZmMzMzM5fSc7XG59XG5cbi8qKiBMZXR0ZXJzIHRoYXQgc3RhbmQgZm9yIHRoZW1zZWx2ZXMsIHN1Y2ggYXMgdGhlIFQgb2YgSVNPIDg2MDEsIGFyZSBxdW90ZWQgaW4gYSBmb3JtYXQuICovXG5jb25zdCBxdW90ZWRMZXR0ZXJzID0gKHBhdHRlcm46IHN0cmluZyk6IHN0cmluZyA9PlxuICBwYXR0ZXJuXG4gICAgLnJlcGxhY2UoLycvZywgJycpXG4gICAgLnJlcGxhY2UoL1lZWVkvZywgJ3l5eXknKVxuICAgIC5yZXBsYWNlKC9ERC9nLCAnZGQnKVxuICAgIC5yZXBsYWNlKC9bQS1aYS16XSsvZywgKHJ1bikgPT4gcnVuLnJlcGxhY2UoL1teeU1kSGhtc1NdKy9nLCBcIickJidcIikpO1xuXG5jb25zdCBub25jZUhlYWRlciA9ICh0ZXh0OiBzdHJpbmcpOiBzdHJpbmcgfCB1bmRlZmluZWQgPT4gaGVhZGVyTmFtZXModGV4dCkuZmluZCgob25lKSA9PiAvbm9uY2UvaS50ZXN0KG9uZSkpO1xuXG5mdW5jdGlvbiByZWNpcGVMaW5lcyh7IGRlc2NyaXB0aW9uOiB0ZXh0ID0gJycsIGhlYWRlciB9OiBEZXNjcmliZWRTY2hlbWUpOiBzdHJpbmdbXSB7XG4gIGNvbnN0IHRpbWUgPSB0aW1lSGVhZGVyKHRleHQpO1xuICBjb25zdCBub25jZSA9IG5vbmNlSGVhZGVyKHRleHQpO1xuICBjb25zdCBpdGVtcyA9IFsuLi50ZXh0Lm1hdGNoQWxsKC9eXFxzKig/OlxcZCtbLildfFstKl0pXFxzKyguKykkL2dtKV0ubWFwKChbLCBpdGVtXSkgPT4gaXRlbSBhcyBzdHJpbmcpO1xuICBjb25zdCBsaW5lcyA9IGl0ZW1zLm1hcCgoaXRlbSkgPT4gaXRlbUxpbmUoaXRlbSkpO1xuICBjb25zdCBzaGFwZSA9IC9bYFwiXShbXmBcIl0qXFxiKD86U0VBTHxTSUdOQVRVUkV8U0lHKVxcYlteYFwiXSopW2BcIl0vLmV4ZWModGV4dCk/LlsxXTtcbiAgY29uc3QgbmFtZXMgPSAoc2hhcGUgPz8gJycpLm1hdGNoKC9cXGJLRVlbLV8gXT9JRFxcYi9nKTtcbiAgY29uc3QgdmFsdWUgPSAoc2hhcGUgPz8gJ1NFQUwnKVxuICAgIC5yZXBsYWNlKC9cXGIoPzpTRUFMfFNJR05BVFVSRXxTSUcpXFxiLywgJyR7c2VhbH0nKVxuICAgIC5yZXBsYWNlKC9cXGJLRVlbLV8gXT9JRFxcYi9nLCAnJHtrZXktaWR9Jyk7XG4gIHJldHVybiBbXG4gICAgJ2RlZmluZTonLFxuICAgIC4uLih0aW1lID8gW2AgIHN0YW1wOiAke3NjYWxhcih0aW1lLmV4cHJlc3Npb24pfWBdIDogW10pLFxuICAgIC4uLihuYW1lcyA/IFsnICBrZXktaWQ6IEtFWS1JRCAgICAgICAgICAgICAgICAgICAgIyB0aGUgaWQgdGhhdCB0aGUgdmVuZG9yIGdhdmUgeW91ciBrZXknXSA6IFtdKSxcbiAgICAnICBiYXNlOicsXG4gICAgJyAgICBsaW5lczogICAgICAgICAgICAgICAgICAgICAgICAgICMgam9pbmVkIGJ5IGEgbGluZSBmZWVkOyBqb2luZWQtYnk6IHNheXMgb3RoZXJ3aXNlJyxcbiAgICAuLi4obGluZXMubGVuZ3RoID4gMFxuICAgICAgPyBsaW5lc1xuICAgICAgOiBbXG4gICAgICAgICAgJyAgICAgIC0gJHtzZW50Lm1ldGhvZH0gICAgICAgICAgICAgICAjIHRoZSBkb2N1bWVudGF0aW9uIGhhcyBubyBsaXN0IG9mIHdoYXQgaXMgc2lnbmVkJyxcbiAgICAgICAgICAnICAgICAgLSAke3NlbnQudGFyZ2V0fScsXG4gICAgICAgICAgJyAgICAgIC0gJHtzZW50LmJvZHkgfCBzaGEtMjU2IHwgaGV4fScsXG4gICAgICAgIF0pLFxuICAgIGAgIHNlYWw6IFxcJHtiYXNlIHwgJHthbGdvcml0aG1Jbih0ZXh0KX0gfCAke2VuY29kaW5nSW4odGV4dCl9fWAsXG4gICAgJ2hlYWRlcnM6JyxcbiAgICAuLi4odGltZSA/IFtgICAke3RpbWUubmFtZX06IFxcJHtzdGFtcH1gXSA6IFtdKSxcbiAgICAuLi4obm9uY2UgPyBbYCAgJHtub25jZX06IFxcJHtub25jZX1gXSA6IFtdKSxcbiAgICBgICAke2hlYWRlciA/PyAnWC1TaWduYXR1cmUnfTogJHtzY2FsYXIodmFsdWUpfWAsXG4gICAgJ2V4YW1wbGVzOiBbXSAgICAgICAgICAgICAgICAgICAgICAgICMgdGhlIGV4YW1wbGUgb2YgdGhlIGRvY3VtZW50YXRpb246IGNoZWNrIGhvbGRzIHRoZSByZWNpcGUgYWdhaW5zdCBpdCcsXG4gIF07XG59XG5cbi8qKiBXaGF0IGFuIGl0ZW0gb2YgdGhlIGxpc3QgbWVhbnMsIHRoZSBzdXJlc3QgcmVhZGluZyBmaXJzdC4gKi9cbmNvbnN0IHJlYWRpbmdzOiByZWFkb25seSAocmVhZG9ubHkgW1JlZ0V4cCwgKGl0ZW06IHN0cmluZykgPT4gc3RyaW5nXSlbXSA9IFtcbiAgW1xuICAgIC9cXGIoPzpzaGFbLV8gXT9cXGQrfG1kNXxkaWdlc3R8aGFzaClcXGIuKlxcYig/OmJvZHl8cGF5bG9hZHxjb250ZW50KVxcYnxcXGIoPzpib2R5fHBheWxvYWQpXFxiLipcXGIoPzpoYXNofGRpZ2VzdCkvaSxcbiAgICBkaWdlc3RPZkJvZHksXG4gIF0sXG4gIFsvXFxiWC1bQS1aYS16MC05LV0rL2ksIGhlYWRlclZhbHVlXSxcbiAgWy9cXGJwYXRoXFxiLipcXGJxdWVyeVxcYnxcXGJyZXF1ZXN0IHRhcmdldFxcYi9pLCAoKSA9PiAnJHtzZW50LnRhcmdldH0nXSxcbiAgWy9cXGJxdWVyeVxcYi9pLCAoaXRlbSkgPT4gKC9zb3J0fG9yZGVyL2kudGVzdChpdGVtKSA/ICcke3NlbnQucXVlcnkgfCBzb3J0ZWQgfCBlbmNvZGVkfScgOiAnJHtzZW50LnF1ZXJ5LXRleHR9JyldLFxuICBbL1xcYig/Om1ldGhvZHx2ZXJiKVxcYi9pLCAoaXRlbSkgPT4gKC9sb3dlcnxzbWFsbC9pLnRlc3QoaXRlbSkgPyAnJHtzZW50Lm1ldGhvZCB8IGxvd2VyfScgOiAnJHtzZW50Lm1ldGhvZH0nKV0sXG4gIFsvXFxicGF0aFxcYi9pLCAoKSA9PiAnJHtzZW50LnBhdGh9J10sXG4gIFsvXFxiaG9zdFxcYi9pLCAoKSA9PiAnJHtzZW50LmF1dGhvcml0eX0nXSxcbiAgWy9cXGIoPzp1cmx8dXJpfGFkZHJlc3MpXFxiL2ksICgpID0+ICcke3NlbnQudXJsfSddLFxuICBbL1xcYmNvbnRlbnRbLSBddHlwZVxcYi9pLCAoKSA9PiAnJHtzZW50LmhlYWRlci5jb250ZW50LXR5cGUgPz8gXCJcIn0nXSxcbiAgWy9cXGJub25jZVxcYi9pLCAoKSA9PiAnJHtub25jZX0nXSxcbiAgWy9cXGIoPzp0aW1lfHRpbWVzdGFtcHxkYXRlKVxcYi9pLCAoKSA9PiAnJHtzdGFtcH0nXSxcbiAgWy9cXGJrZXlbLSBdP2lkXFxiL2ksICgpID0+ICcke2tleS1pZH0nXSxcbiAgWy9cXGIoPzpib2R5fHBheWxvYWQpXFxiL2ksICgpID0+ICcke3NlbnQuYm9keSB8IHRleHR9J10sXG4gIFsvXFxiKD86ZW1wdHl8YmxhbmspIGxpbmVcXGIvaSwgKCkgPT4gJyddLFxuXTtcblxuZnVuY3Rpb24gaXRlbUxpbmUoaXRlbTogc3RyaW5nKTogc3RyaW5nIHtcbiAgY29uc3QgcmVhZGluZyA9IHJlYWRpbmdzLmZpbmQoKFtzaGFwZV0pID0+IHNoYXBlLnRlc3QoaXRlbSkpO1xuICBpZiAoIXJlYWRpbmcpIHJldHVybiBgICAgICAgLSBcIlwiICAgICAgICAgICAgICAgICAgICAgICAgICAgIyBub3QgdW5kZXJzdG9vZDogJHtpdGVtfWA7XG4gIHJldHVybiBgICAgICAgLSAke3NjYWxhcihyZWFkaW5nWzFdKGl0ZW0pKX1gO1xufVxuXG5mdW5jdGlvbiBkaWdlc3RPZkJvZHkoaXRlbTogc3RyaW5nKTogc3RyaW5nIHtcbiAgY29uc3Qgc2l6ZSA9IC9zaGFbLV8gXT8oXFxkKykvaS5leGVjKGl0ZW0pPy5bMV07XG4gIGNvbnN0IGVuY29kaW5nID0gL2Jhc2U2NHVybHxiYXNlNjQvaS5leGVjKGl0ZW0pPy5bMF0udG9Mb3dlckNhc2UoKSA/PyAnaGV4JztcbiAgcmV0dXJuIGBcXCR7c2VudC5ib2R5IHwgJHtzaXplID8gYHNoYS0ke3NpemV9YCA6IC9tZDUvaS50ZXN0KGl0ZW0pID8gJ21kNScgOiAnc2hhLTI1Nid9IHwgJHtlbmNvZGluZ319YDtcbn1cblxuLyoqIFdpdGggaXRzIG5hbWUgaW4gZnJvbnQsIHdoZXJlIHRoZSBpdGVtIHNob3dzIGl0IHNvOiBgeC1kZXNrOmAgYW5kIHRoZSB2YWx1ZSBvZiBYLURlc2suICovXG5mdW5jdGlvbiBoZWFkZXJWYWx1ZShpdGVtOiBzdHJpbmcpOiBzdHJpbmcge1xuICBjb25zdCBuYW1lcyA9IGhlYWRlck5hbWVzKGl0ZW0pO1xuICBjb25zdCBuYW1lID0gbmFtZXMuYXQoLTEpIGFzIHN0cmluZztcbiAgY29uc3QgZnJvbnQgPSAvW2BcIl0oW2EtejAtOS1dKzogPylbYFwiXS9pLmV4ZWMoaXRlbSk/LlsxXSA/PyAnJztcbiAgcmV0dXJuIGAke2Zyb250fVxcJHtzZW50LmhlYWRlci4ke25hbWUudG9Mb3dlckNhc2UoKX0gPz8gXCJcIn1gO1xufVxuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBQ0EsU0FBUyxrQkFBa0I7QUFDM0IsU0FBUyxNQUFNLGdCQUFnQjs7O0FDT3hCLFNBQVMsYUFBYSxZQUF3QixXQUFxRDtBQUN4RyxRQUFNLFFBQVEsa0JBQWtCLFVBQVU7QUFDMUMsU0FBTyxJQUFJO0FBQUEsSUFDVCxRQUFRLFdBQVcsWUFBWSxZQUFZLFVBQVUsTUFBTSxDQUFDLEVBQUUsSUFBSSxDQUFDLEVBQUUsTUFBTSxXQUFXLE1BQU0sT0FBTyxNQUFNLE1BQU07QUFDN0csWUFBTSxDQUFDLE9BQU8sSUFBSSxNQUFNLEdBQUcsVUFBVSxNQUFNLElBQUksSUFBSSxFQUFFLEVBQUU7QUFDdkQsWUFBTSxTQUFTLFdBQVcsR0FBRyxVQUFVLE1BQU0sSUFBSSxJQUFJO0FBQ3JELGFBQU8sQ0FBQyxNQUFNLEVBQUUsTUFBTSxHQUFHLE1BQU0sS0FBSyxLQUFLLElBQUksU0FBUyxZQUFZLFFBQVcsTUFBTSxDQUFDO0FBQUEsSUFDdEYsQ0FBQztBQUFBLEVBQ0g7QUFDRjs7O0FDSE8sU0FBUyxtQkFBbUIsRUFBRSxjQUFjLEdBQUcsR0FBNkI7QUFDakYsU0FDRSxtQkFBbUIsV0FBVyxLQUM3Qiw2Q0FBNkMsS0FBSyxXQUFXLEtBQUssWUFBWSxXQUFXLE1BQU07QUFFcEc7QUFFTyxJQUFNLGdCQUFnQixDQUFDLEVBQUUsS0FBSyxNQUNuQyxLQUNHLFFBQVEsV0FBQyw4QkFBd0IsSUFBRSxHQUFFLE9BQU8sRUFDNUMsWUFBWSxFQUNaLFFBQVEsb0JBQW9CLEdBQUc7QUFHN0IsU0FBUyxpQkFBaUIsUUFBeUIsUUFBZ0IsUUFBd0I7QUFDaEcsUUFBTSxFQUFFLE1BQU0sY0FBYyxHQUFHLElBQUk7QUFDbkMsUUFBTSxPQUFPO0FBQUEsSUFDWCxtQ0FBbUMsTUFBTTtBQUFBLElBQ3pDLFVBQVUsT0FBTyxHQUFHLElBQUksUUFBUSxNQUFNLGVBQWUsQ0FBQztBQUFBLElBQ3REO0FBQUEsSUFDQSxHQUFHLFlBQVksTUFBTSxJQUFJLEVBQUUsSUFBSSxDQUFDLFNBQVMsT0FBTyxJQUFJLEdBQUcsUUFBUSxDQUFDO0FBQUEsRUFDbEU7QUFDQSxRQUFNLFFBQVEsbUJBQW1CLFdBQVcsSUFBSSxhQUFhLFdBQVcsSUFBSSxZQUFZLE1BQU07QUFDOUYsU0FBTyxHQUFHLENBQUMsR0FBRyxNQUFNLEdBQUcsS0FBSyxFQUFFLEtBQUssSUFBSSxDQUFDO0FBQUE7QUFDMUM7QUFHTyxTQUFTLFlBQVksUUFBOEM7QUFDeEUsUUFBTSxFQUFFLGNBQWMsSUFBSSxPQUFPLElBQUk7QUFDckMsTUFBSSxtQkFBbUIsV0FBVyxFQUFHLFFBQU8sb0JBQUksSUFBSSxDQUFDLGFBQWEsbUJBQW1CLGdCQUFnQixDQUFDO0FBQ3RHLFNBQU8sSUFBSTtBQUFBLElBQ1QsQ0FBQyxRQUFRLFdBQVcsV0FBVyxHQUFHLE1BQU0sWUFBWSxXQUFXLENBQUMsRUFDN0QsT0FBTyxDQUFDLFFBQVEsUUFBUSxNQUFTLEVBQ2pDLElBQUksQ0FBQyxRQUFRLElBQUksWUFBWSxDQUFDO0FBQUEsRUFDbkM7QUFDRjtBQUVBLElBQU0scUJBQXFCLENBQUMsU0FDMUIsNERBQTRELEtBQUssSUFBSTtBQUV2RSxJQUFNLGFBQWE7QUFBQSxFQUNqQjtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQ0Y7QUFFQSxTQUFTLGFBQWEsTUFBd0I7QUFDNUMsUUFBTSxZQUFZLFdBQVcsS0FBSyxDQUFDLFFBQVEsS0FBSyxZQUFZLEVBQUUsU0FBUyxHQUFHLENBQUM7QUFDM0UsUUFBTSxRQUFRLENBQUMsR0FBRyxLQUFLLFNBQVMscUNBQXFDLENBQUMsRUFBRSxJQUFJLENBQUMsQ0FBQyxFQUFFLEdBQUcsTUFBTSxHQUFhO0FBQ3RHLFFBQU0sYUFBYSxDQUFDLEdBQUcsSUFBSSxJQUFJLEtBQUssQ0FBQyxFQUFFLE9BQU8sQ0FBQyxRQUFRLElBQUksV0FBVyxHQUFHLEtBQUssNEJBQTRCLEtBQUssR0FBRyxDQUFDO0FBQ25ILFFBQU0sU0FBUyxrQkFBa0IsS0FBSyxJQUFJO0FBQzFDLFNBQU87QUFBQSxJQUNMO0FBQUEsSUFDQSxHQUFJLFNBQVMsQ0FBQyxXQUFXLFlBQVksS0FBSyxLQUFLLFdBQVcsb0JBQW9CLEVBQUUsQ0FBQyxJQUFJLFlBQVksU0FBUyxFQUFFLElBQUksQ0FBQztBQUFBLElBQ2pIO0FBQUEsSUFDQTtBQUFBLElBQ0EsV0FBVyxTQUFTLElBQ2hCLG9CQUFvQixXQUFXLElBQUksQ0FBQyxRQUFRLEtBQUssVUFBVSxHQUFHLENBQUMsRUFBRSxLQUFLLElBQUksQ0FBQyxNQUMzRTtBQUFBLElBQ0osa0JBQWtCLGFBQWEseUVBQXlFO0FBQUEsSUFDeEc7QUFBQSxJQUNBO0FBQUEsSUFDQSxHQUFJLGFBQWEsS0FBSyxJQUFJLElBQUksQ0FBQyxxQkFBcUIsSUFBSSxDQUFDO0FBQUEsSUFDekQsR0FBSSxlQUFlLEtBQUssSUFBSSxJQUFJLENBQUMsaUJBQWlCLElBQUksQ0FBQztBQUFBLElBQ3ZELEdBQUksVUFBVSxLQUFLLElBQUksSUFBSSxDQUFDLDBCQUEwQixJQUFJLENBQUM7QUFBQSxFQUM3RDtBQUNGO0FBRUEsU0FBUyxZQUFZLE1BQWtDO0FBQ3JELFFBQU0sUUFBUSxzREFBc0QsS0FBSyxJQUFJLElBQUksQ0FBQztBQUNsRixNQUFJLE1BQU8sUUFBTyxZQUFZLEtBQUs7QUFDbkMsUUFBTSxPQUFPLDBCQUEwQixLQUFLLElBQUksSUFBSSxDQUFDLEtBQUs7QUFDMUQsTUFBSSxlQUFlLEtBQUssSUFBSSxFQUFHLFFBQU87QUFDdEMsTUFBSSxhQUFhLEtBQUssSUFBSSxFQUFHLFFBQU8sa0JBQWtCLElBQUk7QUFDMUQsTUFBSSxxQkFBcUIsS0FBSyxJQUFJLEVBQUcsUUFBTyxvQkFBb0IsSUFBSTtBQUNwRSxNQUFJLFdBQVcsS0FBSyxJQUFJLEVBQUcsUUFBTyxnQkFBZ0IsSUFBSTtBQUN0RCxTQUFPLFlBQVksS0FBSyxJQUFJLElBQUksWUFBWSxJQUFJLHdCQUF3QjtBQUMxRTtBQUdBLFNBQVMsV0FBVyxNQUFzQjtBQUN4QyxRQUFNLFdBQVcsS0FBSyxNQUFNLFdBQVcsRUFBRSxLQUFLLENBQUMsUUFBUSwwQkFBMEIsS0FBSyxHQUFHLENBQUMsS0FBSztBQUMvRixRQUFNLFFBQ0osd0NBQXdDLEtBQUssUUFBUSxJQUFJLENBQUMsS0FBSyx3QkFBd0IsS0FBSyxJQUFJLElBQUksQ0FBQyxLQUFLO0FBQzVHLFNBQU8sT0FBTyxLQUFLLEtBQUssSUFBSSxjQUFjLFdBQVcsS0FBSyxLQUFLLElBQUksV0FBVztBQUNoRjtBQUdBLFNBQVMsWUFBWSxNQUF3QjtBQUMzQyxRQUFNLFFBQVEsS0FBSyxNQUFNLGtDQUFrQyxLQUFLLENBQUM7QUFDakUsUUFBTSxVQUFVLG9CQUFJLElBQW9CO0FBQ3hDLGFBQVcsUUFBUTtBQUNqQixRQUFJLENBQUMsUUFBUSxJQUFJLEtBQUssWUFBWSxDQUFDLEtBQUssUUFBUSxLQUFLLElBQUksRUFBRyxTQUFRLElBQUksS0FBSyxZQUFZLEdBQUcsSUFBSTtBQUNsRyxTQUFPLENBQUMsR0FBRyxRQUFRLE9BQU8sQ0FBQztBQUM3QjtBQUVBLFNBQVMsV0FBVyxNQUFrRjtBQUNwRyxRQUFNLE9BQ0osWUFBWSxJQUFJLEVBQUUsS0FBSyxDQUFDLFFBQVEsbUJBQW1CLEtBQUssR0FBRyxDQUFDLE1BQzNELGdDQUFnQyxLQUFLLElBQUksSUFBSSxTQUFTO0FBQ3pELFNBQU8sU0FBUyxTQUFZLFNBQVksRUFBRSxNQUFNLFlBQVksZUFBZSxNQUFNLElBQUksRUFBRTtBQUN6RjtBQUVBLFNBQVMsZUFBZSxNQUFjLE1BQXNCO0FBQzFELFFBQU0sVUFBVSxnQ0FBZ0MsS0FBSyxJQUFJLElBQUksQ0FBQztBQUM5RCxNQUFJLFFBQVMsUUFBTyxtQkFBbUIsS0FBSyxVQUFVLGNBQWMsT0FBTyxDQUFDLENBQUM7QUFDN0UsTUFBSSwyREFBMkQsS0FBSyxJQUFJLEVBQUcsUUFBTztBQUNsRixNQUFJLDRCQUE0QixLQUFLLElBQUksRUFBRyxRQUFPO0FBQ25ELE1BQUksU0FBUyxVQUFVLDJCQUEyQixLQUFLLElBQUksRUFBRyxRQUFPO0FBQ3JFLFNBQU87QUFDVDtBQUdBLElBQU0sZ0JBQWdCLENBQUMsWUFDckIsUUFDRyxRQUFRLE1BQU0sRUFBRSxFQUNoQixRQUFRLFNBQVMsTUFBTSxFQUN2QixRQUFRLE9BQU8sSUFBSSxFQUNuQixRQUFRLGNBQWMsQ0FBQyxRQUFRLElBQUksUUFBUSxpQkFBaUIsTUFBTSxDQUFDO0FBRXhFLElBQU0sY0FBYyxDQUFDLFNBQXFDLFlBQVksSUFBSSxFQUFFLEtBQUssQ0FBQyxRQUFRLFNBQVMsS0FBSyxHQUFHLENBQUM7QUFFNUcsU0FBUyxZQUFZLEVBQUUsYUFBYSxPQUFPLElBQUksT0FBTyxHQUE4QjtBQUNsRixRQUFNLE9BQU8sV0FBVyxJQUFJO0FBQzVCLFFBQU0sUUFBUSxZQUFZLElBQUk7QUFDOUIsUUFBTSxRQUFRLENBQUMsR0FBRyxLQUFLLFNBQVMsZ0NBQWdDLENBQUMsRUFBRSxJQUFJLENBQUMsQ0FBQyxFQUFFLElBQUksTUFBTSxJQUFjO0FBQ25HLFFBQU0sUUFBUSxNQUFNLElBQUksQ0FBQyxTQUFTLFNBQVMsSUFBSSxDQUFDO0FBQ2hELFFBQU0sUUFBUSxtREFBbUQsS0FBSyxJQUFJLElBQUksQ0FBQztBQUMvRSxRQUFNLFNBQVMsU0FBUyxJQUFJLE1BQU0sa0JBQWtCO0FBQ3BELFFBQU0sU0FBUyxTQUFTLFFBQ3JCLFFBQVEsOEJBQThCLFNBQVMsRUFDL0MsUUFBUSxvQkFBb0IsV0FBVztBQUMxQyxTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0EsR0FBSSxPQUFPLENBQUMsWUFBWSxPQUFPLEtBQUssVUFBVSxDQUFDLEVBQUUsSUFBSSxDQUFDO0FBQUEsSUFDdEQsR0FBSSxRQUFRLENBQUMsNEVBQTRFLElBQUksQ0FBQztBQUFBLElBQzlGO0FBQUEsSUFDQTtBQUFBLElBQ0EsR0FBSSxNQUFNLFNBQVMsSUFDZixRQUNBO0FBQUEsTUFDRTtBQUFBLE1BQ0E7QUFBQSxNQUNBO0FBQUEsSUFDRjtBQUFBLElBQ0oscUJBQXFCLFlBQVksSUFBSSxDQUFDLE1BQU0sV0FBVyxJQUFJLENBQUM7QUFBQSxJQUM1RDtBQUFBLElBQ0EsR0FBSSxPQUFPLENBQUMsS0FBSyxLQUFLLElBQUksYUFBYSxJQUFJLENBQUM7QUFBQSxJQUM1QyxHQUFJLFFBQVEsQ0FBQyxLQUFLLEtBQUssYUFBYSxJQUFJLENBQUM7QUFBQSxJQUN6QyxLQUFLLFVBQVUsYUFBYSxLQUFLLE9BQU8sS0FBSyxDQUFDO0FBQUEsSUFDOUM7QUFBQSxFQUNGO0FBQ0Y7QUFHQSxJQUFNLFdBQXFFO0FBQUEsRUFDekU7QUFBQSxJQUNFO0FBQUEsSUFDQTtBQUFBLEVBQ0Y7QUFBQSxFQUNBLENBQUMsc0JBQXNCLFdBQVc7QUFBQSxFQUNsQyxDQUFDLDJDQUEyQyxNQUFNLGdCQUFnQjtBQUFBLEVBQ2xFLENBQUMsY0FBYyxDQUFDLFNBQVUsY0FBYyxLQUFLLElBQUksSUFBSSxxQ0FBcUMsb0JBQXFCO0FBQUEsRUFDL0csQ0FBQyx3QkFBd0IsQ0FBQyxTQUFVLGVBQWUsS0FBSyxJQUFJLElBQUksMkJBQTJCLGdCQUFpQjtBQUFBLEVBQzVHLENBQUMsYUFBYSxNQUFNLGNBQWM7QUFBQSxFQUNsQyxDQUFDLGFBQWEsTUFBTSxtQkFBbUI7QUFBQSxFQUN2QyxDQUFDLDRCQUE0QixNQUFNLGFBQWE7QUFBQSxFQUNoRCxDQUFDLHdCQUF3QixNQUFNLG1DQUFtQztBQUFBLEVBQ2xFLENBQUMsY0FBYyxNQUFNLFVBQVU7QUFBQSxFQUMvQixDQUFDLGdDQUFnQyxNQUFNLFVBQVU7QUFBQSxFQUNqRCxDQUFDLG1CQUFtQixNQUFNLFdBQVc7QUFBQSxFQUNyQyxDQUFDLHlCQUF5QixNQUFNLHFCQUFxQjtBQUFBLEVBQ3JELENBQUMsNkJBQTZCLE1BQU0sRUFBRTtBQUN4QztBQUVBLFNBQVMsU0FBUyxNQUFzQjtBQUN0QyxRQUFNLFVBQVUsU0FBUyxLQUFLLENBQUMsQ0FBQyxLQUFLLE1BQU0sTUFBTSxLQUFLLElBQUksQ0FBQztBQUMzRCxNQUFJLENBQUMsUUFBUyxRQUFPLDBEQUEwRCxJQUFJO0FBQ25GLFNBQU8sV0FBVyxPQUFPLFFBQVEsQ0FBQyxFQUFFLElBQUksQ0FBQyxDQUFDO0FBQzVDO0FBRUEsU0FBUyxhQUFhLE1BQXNCO0FBQzFDLFFBQU0sT0FBTyxrQkFBa0IsS0FBSyxJQUFJLElBQUksQ0FBQztBQUM3QyxRQUFNLFdBQVcsb0JBQW9CLEtBQUssSUFBSSxJQUFJLENBQUMsRUFBRSxZQUFZLEtBQUs7QUFDdEUsU0FBTyxrQkFBa0IsT0FBTyxPQUFPLElBQUksS0FBSyxPQUFPLEtBQUssSUFBSSxJQUFJLFFBQVEsU0FBUyxNQUFNLFFBQVE7QUFDckc7QUFHQSxTQUFTLFlBQVksTUFBc0I7QUFDekMsUUFBTSxRQUFRLFlBQVksSUFBSTtBQUM5QixRQUFNLE9BQU8sTUFBTSxHQUFHLEVBQUU7QUFDeEIsUUFBTSxRQUFRLDJCQUEyQixLQUFLLElBQUksSUFBSSxDQUFDLEtBQUs7QUFDNUQsU0FBTyxHQUFHLEtBQUssa0JBQWtCLEtBQUssWUFBWSxDQUFDO0FBQ3JEOzs7QUY1TE8sSUFBTSxFQUFFLFVBQVUsSUFBbUI7QUFBQSxFQUMxQyxVQUFVLFNBQVMsS0FBSztBQUN0QixZQUNHLFNBQVMsZUFBZSwwQ0FBMEMsRUFDbEUsT0FBTyxlQUFlLHVFQUF1RSxFQUM3RixPQUFPLG9CQUFvQixrREFBa0QsRUFDN0UsT0FBTyxvQkFBb0IsbUVBQW1FLEVBQzlGO0FBQUEsTUFDQyxJQUFJLE9BQU8sU0FBUyxDQUFDLFFBQVEsRUFBRSxHQUFHLEVBQUUsSUFBSSxPQUFPLE9BQU8sTUFBTTtBQUMxRCxjQUFNLEVBQUUsU0FBUyxJQUFJO0FBQ3JCLGNBQU0sYUFBYSxNQUFNLFFBQVEsV0FBVztBQUM1QyxjQUFNLGtCQUFrQixVQUFVO0FBQ2xDLGNBQU0sWUFBWSxjQUFjLFlBQVksS0FBSztBQUNqRCxjQUFNLEVBQUUsTUFBTSxLQUFLLElBQUksWUFBYSxNQUE2QixVQUFVLFNBQVMsQ0FBQztBQUNyRixjQUFNLE9BQU8sWUFBWSxXQUFXLE1BQU0sSUFBSTtBQUM5QyxZQUFJLFdBQVcsSUFBSSxHQUFHO0FBQ3BCLGdCQUFNLElBQUksUUFBUSxlQUFlO0FBQUEsWUFDL0IsTUFBTSxzQkFBc0IsSUFBSTtBQUFBLFlBQ2hDLE9BQU8sRUFBRSxLQUFLO0FBQUEsWUFDZCxRQUFRO0FBQUEsVUFDVixDQUFDO0FBQUEsUUFDSDtBQUNBLGNBQU0sV0FBVyxXQUFXLE1BQU0sU0FBUztBQUMzQyxjQUFNLEtBQUssU0FBUyxLQUFLLFdBQVcsTUFBTSxNQUFNLElBQUksR0FBRyxXQUFXLElBQUk7QUFDdEUsY0FBTSxFQUFFLGFBQWEsR0FBRyxNQUFNLElBQUksWUFBWSxZQUFZLFVBQVUsTUFBTTtBQUMxRSxjQUFNLFlBQVksTUFBTSxTQUFTLFlBQVksU0FBUztBQUN0RCxjQUFNLE9BQU8sYUFBYSxXQUFXO0FBQUEsVUFDbkM7QUFBQSxVQUNBLE9BQU8sTUFBTSxNQUFNLFVBQVUsRUFBRTtBQUFBLFVBQy9CLFdBQVcsY0FBYyxPQUFPLE1BQU07QUFBQSxVQUN0QyxXQUFXLGFBQWEsWUFBWSxTQUFTO0FBQUEsVUFDN0MsUUFBUSxHQUFHLEVBQUUsSUFBSSxhQUFhO0FBQUEsVUFDOUIsU0FBUyxTQUFTLFdBQVcsSUFBSSxTQUFTLENBQUMsSUFBSSxpQkFBaUIsWUFBWSxJQUFJO0FBQUEsVUFDaEY7QUFBQSxRQUNGLENBQUM7QUFDRCxjQUFNLGdCQUFnQixNQUFNLElBQUk7QUFDaEMsY0FBTSxxQkFBcUIsV0FBVyxJQUFJO0FBQzFDLFlBQUksU0FBUztBQUNYLGlCQUFPLEtBQUssVUFBVSxTQUFTO0FBQUEsWUFDN0IsU0FBUztBQUFBLFlBQ1Q7QUFBQSxZQUNBLFdBQVcsR0FBRyxVQUFVLE1BQU0sSUFBSSxVQUFVLEVBQUU7QUFBQSxZQUM5QyxXQUFXLFdBQVcsUUFBUTtBQUFBLFVBQ2hDLENBQUM7QUFDSCxpQkFBUyxNQUFNLFNBQVMsU0FBUyxJQUFJLEtBQUssSUFBSSxDQUFDLEVBQUU7QUFDakQsWUFBSSxXQUFXLE1BQU07QUFDbkIsbUJBQVMsTUFBTSxTQUFTLFNBQVMsSUFBSSxLQUFLLFVBQVUsSUFBSSxDQUFDLEVBQUU7QUFDM0QsbUJBQVMsS0FBSywyRkFBMkY7QUFBQSxRQUMzRztBQUNBLGlCQUFTLEtBQUssNEJBQTRCLElBQUksR0FBRyxZQUFZLGlCQUFpQixFQUFFLEVBQUU7QUFDbEYsZUFBTztBQUFBLE1BQ1QsQ0FBQztBQUFBLElBQ0g7QUFDRixhQUFTLFNBQVM7QUFBQSxNQUNoQixDQUFDLDJCQUEyQixpQ0FBaUM7QUFBQSxNQUM3RCxDQUFDLHdDQUF3QywwQkFBMEI7QUFBQSxJQUNyRSxDQUFDO0FBQUEsRUFDSDtBQUNGO0FBR0EsZUFBZSxTQUNiLFlBQ0EsV0FHQTtBQUNBLFFBQU0sU0FBUyxVQUFVLFNBQVMsUUFBUSxDQUFDLEVBQUUsUUFBUSxNQUFNLE9BQU8sRUFBRSxLQUFLLGtCQUFrQjtBQUMzRixNQUFJLENBQUMsT0FBUSxRQUFPO0FBQ3BCLFFBQU0sT0FBTyxjQUFjLE1BQU07QUFDakMsUUFBTSxRQUFRLFlBQVksTUFBTTtBQUNoQyxNQUFJLFdBQVcsTUFBTSxXQUFXLEVBQUUsU0FBUyxJQUFJLEVBQUcsUUFBTyxFQUFFLE1BQU0sT0FBTyxNQUFNLE9BQVU7QUFDeEYsUUFBTSxPQUFPLGNBQWMsSUFBSTtBQUMvQixRQUFNLE9BQU8saUJBQWlCLFFBQVEsVUFBVSxRQUFRLE1BQU0sYUFBYSxpQkFBaUI7QUFDNUYsUUFBTSxnQkFBZ0IsWUFBWSxXQUFXLE1BQU0sSUFBSSxHQUFHLElBQUk7QUFDOUQsU0FBTyxFQUFFLE1BQU0sT0FBTyxLQUFLO0FBQzdCO0FBR0EsU0FBUyxjQUFjLE9BQWdCLFFBQTZDO0FBQ2xGLE1BQUksVUFBVSxVQUFhLENBQUMsT0FBTyxLQUFLLE9BQU8sS0FBSyxDQUFDO0FBQ25ELFVBQU0sSUFBSSxRQUFRLFNBQVMsRUFBRSxNQUFNLDJDQUEyQyxLQUFLLEdBQUcsQ0FBQztBQUN6RixRQUFNLFFBQVEsT0FBTyxXQUFXLFdBQVcsT0FBTyxNQUFNLEdBQUcsRUFBRSxJQUFJLENBQUMsUUFBUSxJQUFJLEtBQUssQ0FBQyxJQUFJO0FBQ3hGLFNBQU8sRUFBRSxHQUFJLFVBQVUsVUFBYSxFQUFFLE9BQU8sT0FBTyxLQUFLLEVBQUUsR0FBSSxHQUFJLFNBQVMsRUFBRSxRQUFRLE1BQU0sRUFBRztBQUNqRztBQUdBLFNBQVMsaUJBQWlCLFlBQXdCLE1BQWtDO0FBQ2xGLFFBQU0sVUFBVSxXQUFXLFNBQVMsSUFBSSxFQUFFLEdBQUcsRUFBRSxHQUFHLFFBQVE7QUFDMUQsU0FBTyxPQUFPLFlBQVksWUFBWSxZQUFZLFNBQVMsVUFBVTtBQUN2RTsiLAogICJuYW1lcyI6IFtdCn0K
