import {
  brief
} from "./chunk-4THVOAEK.js";
import {
  absoluteUrl,
  withQuery
} from "./chunk-BNANEU6A.js";
import {
  isSecretName
} from "./chunk-BC36KCSM.js";
import {
  bodySize,
  hidden
} from "./chunk-KTFSZ6KS.js";
import {
  withIdentity
} from "./chunk-77DFO3CW.js";
import {
  Received
} from "./chunk-4DNYAMDJ.js";
import {
  percentEncode
} from "./chunk-VVGKGSPN.js";
import {
  positionText
} from "./chunk-FSPVDUAZ.js";
import {
  plain
} from "./chunk-XGDOGID3.js";

// src/core/echo/record.ts
var longest = 2e5;
var secretHeaders = /* @__PURE__ */ new Set(["authorization", "proxy-authorization", "cookie", "set-cookie"]);
function recordEcho({ id, at, environment, request, operation, sessions, inputs, step, row, again }, wire, { received, trouble }, verdicts, kept, redactor, beside) {
  const failed = verdicts.filter(({ ok }) => !ok);
  return {
    id,
    at: isoTime(at),
    environment,
    request,
    operation,
    sessions: sessions.length > 0 ? [...sessions] : void 0,
    inputs: inputs && inputs.size > 0 ? recordedInputs(inputs, redactor) : void 0,
    step,
    row,
    again,
    sent: {
      method: wire.method,
      url: redactor.hide(wire.shownUrl),
      headers: recordedLines(wire, redactor),
      body: wire.body && recordedText(wire.body.shown, bodySize(wire.body), redactor, beside, id, "sent")
    },
    received: received && recordedAnswer(received, redactor, beside, id),
    phases: received && phasesOf(received),
    trouble: trouble && recordedTrouble(trouble, redactor),
    met: verdicts.length - failed.length,
    failed: failed.length > 0 ? failed.map((verdict) => hideVerdict(verdict, redactor)) : void 0,
    kept: kept.length > 0 ? recordedKeeps(kept, redactor) : void 0
  };
}
var lastTime = 0;
var lastIso = "";
function isoTime(at) {
  const time = at.getTime();
  if (time !== lastTime) {
    lastIso = at.toISOString();
    lastTime = time;
  }
  return lastIso;
}
var recorded = /* @__PURE__ */ new WeakMap();
var recordedOnes = /* @__PURE__ */ new WeakMap();
function recordedLines({ headers, signed }, redactor) {
  const { size } = redactor;
  if (signed) return headers.map((line) => recordedOnce(line, size, redactor));
  const before = recorded.get(headers);
  if (before?.size === size) return before.lines;
  const lines = headers.map(({ name, value, secret }) => recordedLine(name, value, secret, redactor));
  recorded.set(headers, { size, lines });
  return lines;
}
function recordedOnce(given, size, redactor) {
  if (given.secret) return [given.name, hidden];
  const known2 = recordedOnes.get(given);
  if (known2?.size === size) return known2.line;
  const line = recordedLine(given.name, given.value, false, redactor);
  if (!given.origin.startsWith("signature ")) recordedOnes.set(given, { size, line });
  return line;
}
function recordedLine(name, value, secret, redactor) {
  return [name, secret || secretHeaders.has(name.toLowerCase()) ? hidden : redactor.hideKnown(value)];
}
function recordedInputs(inputs, redactor) {
  const out = {};
  for (const [name, named] of inputs)
    if (named) out[name] = named.secret || isSecretName(name) ? hidden : redactor.hideIn(plain(named.value));
  return out;
}
function recordedKeeps(kept, redactor) {
  const out = {};
  for (const { name, value, secret } of kept) out[name] = secret ? hidden : redactor.hideIn(plain(value));
  return out;
}
function recordedAnswer(received, redactor, beside, id) {
  const { reason, hops, finalUrl, remoteAddress, protocol, tls, trailers, hints, wireSize } = received.parts;
  return {
    status: received.status,
    reason,
    headers: recordedHeaders(received.headers, redactor),
    body: received.parts.body.length > 0 ? recordedBody(received, redactor, beside, id) : void 0,
    hops: hops.length > 0 ? hops.map(({ status, url }) => ({ status, url: redactor.hide(url) })) : void 0,
    finalUrl: hops.length > 0 ? redactor.hide(finalUrl) : void 0,
    remoteAddress,
    protocol: protocol === "HTTP/1.1" ? void 0 : protocol,
    tls: tls && recordedTls(tls),
    trailers: trailers.length > 0 ? recordedHeaders(trailers, redactor) : void 0,
    hints: hints.length > 0 ? hints.map(({ status, headers }) => ({ status, headers: recordedHeaders(headers, redactor) })) : void 0,
    wireSize: wireSize === received.parts.body.length ? void 0 : wireSize
  };
}
var recordedHeaders = (lines, redactor) => lines.map(([name, value]) => recordedLine(name, value, false, redactor));
function recordedTls({ protocol, cipher, certificate }) {
  const { subject, issuer, until, fingerprint } = certificate ?? {};
  return { protocol, cipher, subject, issuer, until, fingerprint };
}
function recordedBody(received, redactor, beside, id) {
  if (received.textual) return recordedText(received.text, received.size, redactor, beside, id, "received");
  const { body } = received.parts;
  const bytes = Buffer.from(body.subarray(0, longest / 2));
  const cut = body.length > bytes.length;
  return {
    text: bytes.toString("base64"),
    encoding: "base64",
    size: received.size,
    cut: cut || void 0,
    file: cut ? beside(id, "received", body) : void 0
  };
}
function recordedText(text, size, redactor, beside, id, direction) {
  const cut = text.length > longest;
  const shown = redactor.hide(text);
  if (!cut) return { text: shown, encoding: "utf-8", size, cut: void 0 };
  return { text: shown.slice(0, longest), encoding: "utf-8", size, cut: true, file: beside(id, direction, shown) };
}
function phasesOf({ parts: { phases } }) {
  return {
    lookup: rounded(phases.lookup),
    connect: rounded(phases.connect),
    tls: rounded(phases.tls),
    waiting: rounded(phases.waiting),
    receiving: rounded(phases.receiving),
    total: rounded(phases.total)
  };
}
function rounded(ms) {
  return ms === void 0 ? void 0 : Math.round(ms * 1e3) / 1e3;
}
function recordedTrouble(trouble, redactor) {
  const { where } = trouble;
  return {
    ...brief(trouble, redactor.hide),
    ...where !== void 0 && { where: typeof where === "string" ? where : positionText(where) }
  };
}
var mostDeviations = 100;
function hideVerdict({ deviations, ...verdict }, redactor) {
  const texts = Object.fromEntries(
    Object.entries(verdict).map(([key, value]) => [key, typeof value === "string" ? redactor.hide(value) : value])
  );
  if (!deviations) return texts;
  const side = (value) => value && redactor.hideIn(value);
  return {
    ...texts,
    deviations: deviations.slice(0, mostDeviations).map(({ at, kind, left, right }) => ({ at, kind, left: side(left), right: side(right) }))
  };
}

// src/core/exchange/compose.ts
function composeRequest(request, sessionLines, userAgent) {
  const { method, address, query, body } = request;
  const url = absoluteUrl(withQuery(address, query, (pair) => percentEncode(pair.value)));
  const shownUrl = query.some(({ secret }) => secret) ? withQuery(address, query, (pair) => pair.secret ? hidden : percentEncode(pair.value)) : url.href;
  const headers = linesFor(request, sessionLines, userAgent, url.host);
  return {
    method,
    url,
    shownUrl,
    headers,
    body,
    timeout: request.timeout,
    redirects: request.redirects,
    connection: request.connection
  };
}
var known = /* @__PURE__ */ new WeakMap();
function linesFor(request, sessionLines, userAgent, host) {
  if (request.body || sessionLines.length > 0) return allLines(request, sessionLines, userAgent, host);
  const key = `${request.method} ${host} ${userAgent}`;
  const before = known.get(request.headers);
  if (before?.for === key) return before.lines;
  const lines = allLines(request, [], userAgent, host);
  known.set(request.headers, { for: key, lines });
  return lines;
}
function allLines({ headers: own, method, body }, sessionLines, userAgent, host) {
  const headers = [];
  const automatic = (name, value) => {
    if (!has(own, name)) headers.push({ name, value, origin: "automatic", secret: false });
  };
  automatic("host", host);
  automatic("connection", "keep-alive");
  headers.push(...own);
  for (const line of sessionLines) {
    const at = line.name === "Cookie" ? headers.findIndex(({ name }) => name.toLowerCase() === "cookie") : -1;
    if (at !== -1) headers[at] = together(headers[at], line);
    else if (!has(own, line.name)) headers.push(line);
  }
  automatic("accept", "*/*");
  automatic("user-agent", userAgent);
  for (const { name, value } of body?.headers ?? []) automatic(name, value);
  if (body) automatic("content-type", body.type);
  if (body) automatic("content-length", String(bodySize(body)));
  else if (method === "POST" || method === "PUT" || method === "PATCH") automatic("content-length", "0");
  return headers;
}
function together(own, jar) {
  const names = new Set(own.value.split(/;\s*/).map((pair) => pair.split("=")[0]));
  const others = jar.value.split(/;\s*/).filter((pair) => !names.has(pair.split("=")[0]));
  return {
    ...own,
    value: [own.value, ...others].join("; "),
    origin: `${own.origin}, ${jar.origin}`,
    secret: true
  };
}
function has(lines, name) {
  const wanted = name.toLowerCase();
  return lines.some((line) => line.name.toLowerCase() === wanted);
}

// src/core/trail/attempt.ts
function composed(workspace, request, lines, query = []) {
  const whole = query.length > 0 ? { ...request, query: [...request.query, ...query] } : request;
  const made = composeRequest(whole, lines, workspace.userAgent);
  const connection = workspace.pins.applied(made.url, made.connection);
  const wire = connection === made.connection ? made : { ...made, connection };
  if (request.secret) workspace.hosts.demand(wire.url, "a secret");
  return wire;
}
function setsCookies(headers) {
  for (const [name] of headers) if (name.length === 10 && name.toLowerCase() === "set-cookie") return true;
  return false;
}
var carryings = /* @__PURE__ */ new WeakMap();
function carryingOf({ hosts }, jar) {
  let carrying = carryings.get(jar);
  if (!carrying) {
    const answered = (url, headers) => setsCookies(headers) && hosts.allows(url) ? jar.take(url, headers) : void 0;
    carrying = { allows: hosts.allows, cookies: jar.line, answered };
    carryings.set(jar, carrying);
  }
  return carrying;
}
var withoutJar = () => ({ line: () => void 0, take: async () => [] });
var jarFor = (workspace, sessions, without) => (
  // What is opened has cookies of its own; a key or a certificate beside it has none.
  without ? withoutJar() : workspace.cookies.open(workspace.sessions.opening(sessions))
);
var callOf = ({ method, url, body }) => ({
  host: url.host,
  method,
  target: url.pathname + url.search,
  body: body?.streamed ? void 0 : body?.bytes
});
function attachedHeard({ sessions }, { attached, outcome: { received } }) {
  return attached !== void 0 && received !== void 0 && sessions.heard(attached, received.status, received.headers);
}
var withCertificate = (request, attached) => attached?.identity ? { ...request, connection: withIdentity(request.connection, attached.identity) } : request;
function withoutSignature(outcome, addresses) {
  const { received } = outcome;
  const bare = received && addresses.get(received.finalUrl);
  if (!received || bare === void 0) return outcome;
  return { ...outcome, received: new Received({ ...received.parts, finalUrl: bare }) };
}
var nothing = [];
async function attempt(workspace, request, bare, sessions, { signal, onLeaving, noCookies, cookiesOf, sink, lines: more = nothing }, seal) {
  const attached = sessions.length > 0 ? await workspace.sessions.attach(sessions, callOf(bare)) : void 0;
  const opening = jarFor(workspace, cookiesOf ?? sessions, noCookies);
  const jar = opening instanceof Promise ? await opening : opening;
  const allowed = workspace.hosts.allows(bare.url);
  const cookie = allowed ? jar.line(bare.url) : void 0;
  const lines = attached || cookie ? [...more, ...attached?.lines ?? [], ...cookie ? [cookie] : []] : more;
  const query = attached?.query ?? nothing;
  const unsigned = lines.length > more.length || query.length > 0 || attached?.identity ? composed(workspace, withCertificate(request, attached), lines, query) : bare;
  let addresses;
  const signed = (own) => {
    const made = seal ? seal.sign(own).wire : own;
    if (made.url === own.url) return made;
    addresses ??= /* @__PURE__ */ new Map();
    addresses.set(made.url.href, own.url.href);
    return made;
  };
  const wire = seal ? signed(unsigned) : unsigned;
  const leaving = onLeaving?.(request, () => `${wire.method} ${workspace.redactor.hide(wire.shownUrl)}`);
  if (leaving) await leaving;
  const at = /* @__PURE__ */ new Date();
  const usual = carryingOf(workspace, jar);
  const carrying = seal ? { ...usual, signed: { bare: unsigned, sign: signed } } : usual;
  const sent = await workspace.transport.send(wire, signal, carrying, sink);
  const outcome = addresses ? withoutSignature(sent, addresses) : sent;
  const { received } = outcome;
  if (seal && received) {
    if (received.parts.hops.length === 0) workspace.clocks.heard(wire.url.host, received, at.getTime());
    seal.hide(received);
  }
  if (received && setsCookies(received.headers)) await carrying.answered(new URL(received.finalUrl), received.headers);
  return { at, attached, wire, outcome, inside: false };
}

export {
  recordEcho,
  composed,
  jarFor,
  attachedHeard,
  attempt
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvZWNoby9yZWNvcmQudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvZXhjaGFuZ2UvY29tcG9zZS50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9hdHRlbXB0LnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogRnJvbSBhbiBleGNoYW5nZSB0byBpdHMgZWNobzogc2VjcmV0cyBoaWRkZW4gYnkgcGxhY2UgYW5kIGJ5IHZhbHVlLCBsb25nIGJvZGllcyBjdXQuICovXG5pbXBvcnQgdHlwZSB7IFRsc0ZhY3RzIH0gZnJvbSAnLi4vZXhjaGFuZ2UvY2VydGlmaWNhdGUuanMnO1xuaW1wb3J0IHR5cGUgeyBSZWNlaXZlZCB9IGZyb20gJy4uL2V4Y2hhbmdlL3JlY2VpdmVkLmpzJztcbmltcG9ydCB0eXBlIHsgT3V0Y29tZSB9IGZyb20gJy4uL2V4Y2hhbmdlL3RyYW5zcG9ydC5qcyc7XG5pbXBvcnQgeyBib2R5U2l6ZSwgdHlwZSBIZWFkZXJMaW5lLCBoaWRkZW4sIHR5cGUgV2lyZVJlcXVlc3QgfSBmcm9tICcuLi9leGNoYW5nZS93aXJlLmpzJztcbmltcG9ydCB0eXBlIHsgVmVyZGljdCB9IGZyb20gJy4uL2V4cGVjdGF0aW9uL2V4cGVjdGF0aW9ucy5qcyc7XG5pbXBvcnQgdHlwZSB7IEtlcHQgfSBmcm9tICcuLi9leHBlY3RhdGlvbi9rZWVwcy5qcyc7XG5pbXBvcnQgdHlwZSB7IE5hbWVkIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi9uYW1lcy5qcyc7XG5pbXBvcnQgeyBicmllZiB9IGZyb20gJy4uL3Byb2JsZW0vYnJpZWYuanMnO1xuaW1wb3J0IHsgdHlwZSBQcm9ibGVtLCBwb3NpdGlvblRleHQgfSBmcm9tICcuLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgaXNTZWNyZXROYW1lIH0gZnJvbSAnLi4vdmFsdWUvc2VjcmV0LWZpZWxkcy5qcyc7XG5pbXBvcnQgeyBwbGFpbiwgdHlwZSBWYWx1ZSB9IGZyb20gJy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHR5cGUgeyBFY2hvLCBSZWNvcmRlZEJvZHkgfSBmcm9tICcuL2VjaG8uanMnO1xuaW1wb3J0IHR5cGUgeyBSZWRhY3RvciB9IGZyb20gJy4vcmVkYWN0b3IuanMnO1xuXG4vKiogQ2hhcmFjdGVycyBvZiBhIGJvZHkgdGhhdCBhcmUgcmVjb3JkZWQuICovXG5jb25zdCBsb25nZXN0ID0gMjAwXzAwMDtcblxuLyoqIEhlYWRlcnMgd2hvc2UgdmFsdWVzIGFyZSBjcmVkZW50aWFscyB3aGVyZXZlciB0aGV5IGNvbWUgZnJvbS4gKi9cbmNvbnN0IHNlY3JldEhlYWRlcnMgPSBuZXcgU2V0KFsnYXV0aG9yaXphdGlvbicsICdwcm94eS1hdXRob3JpemF0aW9uJywgJ2Nvb2tpZScsICdzZXQtY29va2llJ10pO1xuXG4vKiogS2VlcHMgYSBsb25nIGJvZHkgaW4gYSBmaWxlIG9mIGl0cyBvd247IHdoZXJlIGl0IGlzLCB1bmRlZmluZWQgd2hlcmUgaXQgaXMgdG9vIGxvbmcgZm9yIHRoYXQgdG9vLiAqL1xuZXhwb3J0IHR5cGUgQmVzaWRlID0gKGlkOiBzdHJpbmcsIGRpcmVjdGlvbjogJ3NlbnQnIHwgJ3JlY2VpdmVkJywgY29udGVudDogc3RyaW5nIHwgVWludDhBcnJheSkgPT4gc3RyaW5nIHwgdW5kZWZpbmVkO1xuXG5leHBvcnQgaW50ZXJmYWNlIE9jY2FzaW9uIHtcbiAgcmVhZG9ubHkgaWQ6IHN0cmluZztcbiAgcmVhZG9ubHkgYXQ6IERhdGU7XG4gIHJlYWRvbmx5IGVudmlyb25tZW50OiBzdHJpbmc7XG4gIHJlYWRvbmx5IHJlcXVlc3Q6IHN0cmluZyB8IHVuZGVmaW5lZDtcbiAgcmVhZG9ubHkgb3BlcmF0aW9uOiBzdHJpbmcgfCB1bmRlZmluZWQ7XG4gIHJlYWRvbmx5IHNlc3Npb25zOiByZWFkb25seSBzdHJpbmdbXTtcbiAgLyoqIFdoYXQgdGhlIHJlcXVlc3Qgd2FzIGdpdmVuLiAqL1xuICByZWFkb25seSBpbnB1dHM/OiBSZWFkb25seU1hcDxzdHJpbmcsIE5hbWVkIHwgdW5kZWZpbmVkPjtcbiAgcmVhZG9ubHkgc3RlcDogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSByb3c6IG51bWJlciB8IHVuZGVmaW5lZDtcbiAgLyoqIEl0IHdhcyBzZW50IGFnYWluIGFmdGVyIHRoaXMuICovXG4gIHJlYWRvbmx5IGFnYWluPzogYm9vbGVhbiB8IHVuZGVmaW5lZDtcbn1cblxuLyoqIEFic2VudCBwYXJ0cyBhcmUgdW5kZWZpbmVkLCB3aGljaCBKU09OIGxlYXZlcyBvdXQ6IG9mIGFsbCBhIHJ1biBkb2VzLCB0aGlzIGhhcHBlbnMgbW9zdCBvZnRlbi4gKi9cbmV4cG9ydCBmdW5jdGlvbiByZWNvcmRFY2hvKFxuICB7IGlkLCBhdCwgZW52aXJvbm1lbnQsIHJlcXVlc3QsIG9wZXJhdGlvbiwgc2Vzc2lvbnMsIGlucHV0cywgc3RlcCwgcm93LCBhZ2FpbiB9OiBPY2Nhc2lvbixcbiAgd2lyZTogV2lyZVJlcXVlc3QsXG4gIHsgcmVjZWl2ZWQsIHRyb3VibGUgfTogT3V0Y29tZSxcbiAgdmVyZGljdHM6IHJlYWRvbmx5IFZlcmRpY3RbXSxcbiAga2VwdDogcmVhZG9ubHkgS2VwdFtdLFxuICByZWRhY3RvcjogUmVkYWN0b3IsXG4gIGJlc2lkZTogQmVzaWRlLFxuKTogRWNobyB7XG4gIGNvbnN0IGZhaWxlZCA9IHZlcmRpY3RzLmZpbHRlcigoeyBvayB9KSA9PiAhb2spO1xuICByZXR1cm4ge1xuICAgIGlkLFxuICAgIGF0OiBpc29UaW1lKGF0KSxcbiAgICBlbnZpcm9ubWVudCxcbiAgICByZXF1ZXN0LFxuICAgIG9wZXJhdGlvbixcbiAgICBzZXNzaW9uczogc2Vzc2lvbnMubGVuZ3RoID4gMCA/IFsuLi5zZXNzaW9uc10gOiB1bmRlZmluZWQsXG4gICAgaW5wdXRzOiBpbnB1dHMgJiYgaW5wdXRzLnNpemUgPiAwID8gcmVjb3JkZWRJbnB1dHMoaW5wdXRzLCByZWRhY3RvcikgOiB1bmRlZmluZWQsXG4gICAgc3RlcCxcbiAgICByb3csXG4gICAgYWdhaW4sXG4gICAgc2VudDoge1xuICAgICAgbWV0aG9kOiB3aXJlLm1ldGhvZCxcbiAgICAgIHVybDogcmVkYWN0b3IuaGlkZSh3aXJlLnNob3duVXJsKSxcbiAgICAgIGhlYWRlcnM6IHJlY29yZGVkTGluZXMod2lyZSwgcmVkYWN0b3IpLFxuICAgICAgYm9keTogd2lyZS5ib2R5ICYmIHJlY29yZGVkVGV4dCh3aXJlLmJvZHkuc2hvd24sIGJvZHlTaXplKHdpcmUuYm9keSksIHJlZGFjdG9yLCBiZXNpZGUsIGlkLCAnc2VudCcpLFxuICAgIH0sXG4gICAgcmVjZWl2ZWQ6IHJlY2VpdmVkICYmIHJlY29yZGVkQW5zd2VyKHJlY2VpdmVkLCByZWRhY3RvciwgYmVzaWRlLCBpZCksXG4gICAgcGhhc2VzOiByZWNlaXZlZCAmJiBwaGFzZXNPZihyZWNlaXZlZCksXG4gICAgdHJvdWJsZTogdHJvdWJsZSAmJiByZWNvcmRlZFRyb3VibGUodHJvdWJsZSwgcmVkYWN0b3IpLFxuICAgIG1ldDogdmVyZGljdHMubGVuZ3RoIC0gZmFpbGVkLmxlbmd0aCxcbiAgICBmYWlsZWQ6IGZhaWxlZC5sZW5ndGggPiAwID8gZmFpbGVkLm1hcCgodmVyZGljdCkgPT4gaGlkZVZlcmRpY3QodmVyZGljdCwgcmVkYWN0b3IpKSA6IHVuZGVmaW5lZCxcbiAgICBrZXB0OiBrZXB0Lmxlbmd0aCA+IDAgPyByZWNvcmRlZEtlZXBzKGtlcHQsIHJlZGFjdG9yKSA6IHVuZGVmaW5lZCxcbiAgfTtcbn1cblxubGV0IGxhc3RUaW1lID0gMDtcbmxldCBsYXN0SXNvID0gJyc7XG5cbi8qKiBSRkMgMzMzOSBpbiBVVEMuIFNldmVyYWwgZXhjaGFuZ2VzIHNoYXJlIGEgbWlsbGlzZWNvbmQsIGFuZCB3cml0aW5nIGl0IG91dCBjb3N0cyBhcyBtdWNoIGFzIGEgc21hbGwgcmVxdWVzdC4gKi9cbmZ1bmN0aW9uIGlzb1RpbWUoYXQ6IERhdGUpOiBzdHJpbmcge1xuICBjb25zdCB0aW1lID0gYXQuZ2V0VGltZSgpO1xuICBpZiAodGltZSAhPT0gbGFzdFRpbWUpIHtcbiAgICBsYXN0SXNvID0gYXQudG9JU09TdHJpbmcoKTtcbiAgICBsYXN0VGltZSA9IHRpbWU7XG4gIH1cbiAgcmV0dXJuIGxhc3RJc287XG59XG5cbmNvbnN0IHJlY29yZGVkID0gbmV3IFdlYWtNYXA8V2lyZVJlcXVlc3RbJ2hlYWRlcnMnXSwgeyByZWFkb25seSBzaXplOiBudW1iZXI7IHJlYWRvbmx5IGxpbmVzOiBbc3RyaW5nLCBzdHJpbmddW10gfT4oKTtcbmNvbnN0IHJlY29yZGVkT25lcyA9IG5ldyBXZWFrTWFwPEhlYWRlckxpbmUsIHsgcmVhZG9ubHkgc2l6ZTogbnVtYmVyOyByZWFkb25seSBsaW5lOiBbc3RyaW5nLCBzdHJpbmddIH0+KCk7XG5cbi8qKiBMaW5lcyB0aGF0IGFyZSB0aGUgc2FtZSBmb3IgdGhvdXNhbmRzIG9mIHJlcXVlc3RzIGFyZSByZWNvcmRlZCBmcm9tIG9uZSBjb3B5LCBhcyBsb25nIGFzIG5vIHNlY3JldCBiZWNvbWVzIGtub3duLiAqL1xuZnVuY3Rpb24gcmVjb3JkZWRMaW5lcyh7IGhlYWRlcnMsIHNpZ25lZCB9OiBXaXJlUmVxdWVzdCwgcmVkYWN0b3I6IFJlZGFjdG9yKTogW3N0cmluZywgc3RyaW5nXVtdIHtcbiAgY29uc3QgeyBzaXplIH0gPSByZWRhY3RvcjtcbiAgaWYgKHNpZ25lZCkgcmV0dXJuIGhlYWRlcnMubWFwKChsaW5lKSA9PiByZWNvcmRlZE9uY2UobGluZSwgc2l6ZSwgcmVkYWN0b3IpKTtcbiAgY29uc3QgYmVmb3JlID0gcmVjb3JkZWQuZ2V0KGhlYWRlcnMpO1xuICBpZiAoYmVmb3JlPy5zaXplID09PSBzaXplKSByZXR1cm4gYmVmb3JlLmxpbmVzO1xuICBjb25zdCBsaW5lcyA9IGhlYWRlcnMubWFwKCh7IG5hbWUsIHZhbHVlLCBzZWNyZXQgfSkgPT4gcmVjb3JkZWRMaW5lKG5hbWUsIHZhbHVlLCBzZWNyZXQsIHJlZGFjdG9yKSk7XG4gIHJlY29yZGVkLnNldChoZWFkZXJzLCB7IHNpemUsIGxpbmVzIH0pO1xuICByZXR1cm4gbGluZXM7XG59XG5cbi8qKiBBIHNpZ25hdHVyZSBpcyBhbm90aGVyIGZvciBldmVyeSByZXF1ZXN0OyB3aGF0IHN0YW5kcyBiZXNpZGUgaXQgaXMgbm90LiAqL1xuZnVuY3Rpb24gcmVjb3JkZWRPbmNlKGdpdmVuOiBIZWFkZXJMaW5lLCBzaXplOiBudW1iZXIsIHJlZGFjdG9yOiBSZWRhY3Rvcik6IFtzdHJpbmcsIHN0cmluZ10ge1xuICBpZiAoZ2l2ZW4uc2VjcmV0KSByZXR1cm4gW2dpdmVuLm5hbWUsIGhpZGRlbl07XG4gIGNvbnN0IGtub3duID0gcmVjb3JkZWRPbmVzLmdldChnaXZlbik7XG4gIGlmIChrbm93bj8uc2l6ZSA9PT0gc2l6ZSkgcmV0dXJuIGtub3duLmxpbmU7XG4gIGNvbnN0IGxpbmUgPSByZWNvcmRlZExpbmUoZ2l2ZW4ubmFtZSwgZ2l2ZW4udmFsdWUsIGZhbHNlLCByZWRhY3Rvcik7XG4gIGlmICghZ2l2ZW4ub3JpZ2luLnN0YXJ0c1dpdGgoJ3NpZ25hdHVyZSAnKSkgcmVjb3JkZWRPbmVzLnNldChnaXZlbiwgeyBzaXplLCBsaW5lIH0pO1xuICByZXR1cm4gbGluZTtcbn1cblxuZnVuY3Rpb24gcmVjb3JkZWRMaW5lKG5hbWU6IHN0cmluZywgdmFsdWU6IHN0cmluZywgc2VjcmV0OiBib29sZWFuLCByZWRhY3RvcjogUmVkYWN0b3IpOiBbc3RyaW5nLCBzdHJpbmddIHtcbiAgcmV0dXJuIFtuYW1lLCBzZWNyZXQgfHwgc2VjcmV0SGVhZGVycy5oYXMobmFtZS50b0xvd2VyQ2FzZSgpKSA/IGhpZGRlbiA6IHJlZGFjdG9yLmhpZGVLbm93bih2YWx1ZSldO1xufVxuXG5mdW5jdGlvbiByZWNvcmRlZElucHV0cyhcbiAgaW5wdXRzOiBSZWFkb25seU1hcDxzdHJpbmcsIE5hbWVkIHwgdW5kZWZpbmVkPixcbiAgcmVkYWN0b3I6IFJlZGFjdG9yLFxuKTogUmVjb3JkPHN0cmluZywgdW5rbm93bj4gfCB1bmRlZmluZWQge1xuICBjb25zdCBvdXQ6IFJlY29yZDxzdHJpbmcsIHVua25vd24+ID0ge307XG4gIGZvciAoY29uc3QgW25hbWUsIG5hbWVkXSBvZiBpbnB1dHMpXG4gICAgaWYgKG5hbWVkKSBvdXRbbmFtZV0gPSBuYW1lZC5zZWNyZXQgfHwgaXNTZWNyZXROYW1lKG5hbWUpID8gaGlkZGVuIDogcmVkYWN0b3IuaGlkZUluKHBsYWluKG5hbWVkLnZhbHVlKSk7XG4gIHJldHVybiBvdXQ7XG59XG5cbmZ1bmN0aW9uIHJlY29yZGVkS2VlcHMoa2VwdDogcmVhZG9ubHkgS2VwdFtdLCByZWRhY3RvcjogUmVkYWN0b3IpOiBSZWNvcmQ8c3RyaW5nLCB1bmtub3duPiB7XG4gIGNvbnN0IG91dDogUmVjb3JkPHN0cmluZywgdW5rbm93bj4gPSB7fTtcbiAgZm9yIChjb25zdCB7IG5hbWUsIHZhbHVlLCBzZWNyZXQgfSBvZiBrZXB0KSBvdXRbbmFtZV0gPSBzZWNyZXQgPyBoaWRkZW4gOiByZWRhY3Rvci5oaWRlSW4ocGxhaW4odmFsdWUpKTtcbiAgcmV0dXJuIG91dDtcbn1cblxuZnVuY3Rpb24gcmVjb3JkZWRBbnN3ZXIoXG4gIHJlY2VpdmVkOiBSZWNlaXZlZCxcbiAgcmVkYWN0b3I6IFJlZGFjdG9yLFxuICBiZXNpZGU6IEJlc2lkZSxcbiAgaWQ6IHN0cmluZyxcbik6IE5vbk51bGxhYmxlPEVjaG9bJ3JlY2VpdmVkJ10+IHtcbiAgY29uc3QgeyByZWFzb24sIGhvcHMsIGZpbmFsVXJsLCByZW1vdGVBZGRyZXNzLCBwcm90b2NvbCwgdGxzLCB0cmFpbGVycywgaGludHMsIHdpcmVTaXplIH0gPSByZWNlaXZlZC5wYXJ0cztcbiAgcmV0dXJuIHtcbiAgICBzdGF0dXM6IHJlY2VpdmVkLnN0YXR1cyxcbiAgICByZWFzb24sXG4gICAgaGVhZGVyczogcmVjb3JkZWRIZWFkZXJzKHJlY2VpdmVkLmhlYWRlcnMsIHJlZGFjdG9yKSxcbiAgICBib2R5OiByZWNlaXZlZC5wYXJ0cy5ib2R5Lmxlbmd0aCA+IDAgPyByZWNvcmRlZEJvZHkocmVjZWl2ZWQsIHJlZGFjdG9yLCBiZXNpZGUsIGlkKSA6IHVuZGVmaW5lZCxcbiAgICBob3BzOiBob3BzLmxlbmd0aCA+IDAgPyBob3BzLm1hcCgoeyBzdGF0dXMsIHVybCB9KSA9PiAoeyBzdGF0dXMsIHVybDogcmVkYWN0b3IuaGlkZSh1cmwpIH0pKSA6IHVuZGVmaW5lZCxcbiAgICBmaW5hbFVybDogaG9wcy5sZW5ndGggPiAwID8gcmVkYWN0b3IuaGlkZShmaW5hbFVybCkgOiB1bmRlZmluZWQsXG4gICAgcmVtb3RlQWRkcmVzcyxcbiAgICBwcm90b2NvbDogcHJvdG9jb2wgPT09ICdIVFRQLzEuMScgPyB1bmRlZmluZWQgOiBwcm90b2NvbCxcbiAgICB0bHM6IHRscyAmJiByZWNvcmRlZFRscyh0bHMpLFxuICAgIHRyYWlsZXJzOiB0cmFpbGVycy5sZW5ndGggPiAwID8gcmVjb3JkZWRIZWFkZXJzKHRyYWlsZXJzLCByZWRhY3RvcikgOiB1bmRlZmluZWQsXG4gICAgaGludHM6XG4gICAgICBoaW50cy5sZW5ndGggPiAwXG4gICAgICAgID8gaGludHMubWFwKCh7IHN0YXR1cywgaGVhZGVycyB9KSA9PiAoeyBzdGF0dXMsIGhlYWRlcnM6IHJlY29yZGVkSGVhZGVycyhoZWFkZXJzLCByZWRhY3RvcikgfSkpXG4gICAgICAgIDogdW5kZWZpbmVkLFxuICAgIHdpcmVTaXplOiB3aXJlU2l6ZSA9PT0gcmVjZWl2ZWQucGFydHMuYm9keS5sZW5ndGggPyB1bmRlZmluZWQgOiB3aXJlU2l6ZSxcbiAgfTtcbn1cblxuY29uc3QgcmVjb3JkZWRIZWFkZXJzID0gKGxpbmVzOiBSZWNlaXZlZFsnaGVhZGVycyddLCByZWRhY3RvcjogUmVkYWN0b3IpOiBbc3RyaW5nLCBzdHJpbmddW10gPT5cbiAgbGluZXMubWFwKChbbmFtZSwgdmFsdWVdKSA9PiByZWNvcmRlZExpbmUobmFtZSwgdmFsdWUsIGZhbHNlLCByZWRhY3RvcikpO1xuXG5mdW5jdGlvbiByZWNvcmRlZFRscyh7IHByb3RvY29sLCBjaXBoZXIsIGNlcnRpZmljYXRlIH06IFRsc0ZhY3RzKTogTm9uTnVsbGFibGU8Tm9uTnVsbGFibGU8RWNob1sncmVjZWl2ZWQnXT5bJ3RscyddPiB7XG4gIGNvbnN0IHsgc3ViamVjdCwgaXNzdWVyLCB1bnRpbCwgZmluZ2VycHJpbnQgfSA9IGNlcnRpZmljYXRlID8/IHt9O1xuICByZXR1cm4geyBwcm90b2NvbCwgY2lwaGVyLCBzdWJqZWN0LCBpc3N1ZXIsIHVudGlsLCBmaW5nZXJwcmludCB9O1xufVxuXG5mdW5jdGlvbiByZWNvcmRlZEJvZHkocmVjZWl2ZWQ6IFJlY2VpdmVkLCByZWRhY3RvcjogUmVkYWN0b3IsIGJlc2lkZTogQmVzaWRlLCBpZDogc3RyaW5nKTogUmVjb3JkZWRCb2R5IHtcbiAgaWYgKHJlY2VpdmVkLnRleHR1YWwpIHJldHVybiByZWNvcmRlZFRleHQocmVjZWl2ZWQudGV4dCwgcmVjZWl2ZWQuc2l6ZSwgcmVkYWN0b3IsIGJlc2lkZSwgaWQsICdyZWNlaXZlZCcpO1xuICBjb25zdCB7IGJvZHkgfSA9IHJlY2VpdmVkLnBhcnRzO1xuICBjb25zdCBieXRlcyA9IEJ1ZmZlci5mcm9tKGJvZHkuc3ViYXJyYXkoMCwgbG9uZ2VzdCAvIDIpKTtcbiAgY29uc3QgY3V0ID0gYm9keS5sZW5ndGggPiBieXRlcy5sZW5ndGg7XG4gIHJldHVybiB7XG4gICAgdGV4dDogYnl0ZXMudG9TdHJpbmcoJ2Jhc2U2NCcpLFxuICAgIGVuY29kaW5nOiAnYmFzZTY0JyxcbiAgICBzaXplOiByZWNlaXZlZC5zaXplLFxuICAgIGN1dDogY3V0IHx8IHVuZGVmaW5lZCxcbiAgICBmaWxlOiBjdXQgPyBiZXNpZGUoaWQsICdyZWNlaXZlZCcsIGJvZHkpIDogdW5kZWZpbmVkLFxuICB9O1xufVxuXG5mdW5jdGlvbiByZWNvcmRlZFRleHQoXG4gIHRleHQ6IHN0cmluZyxcbiAgc2l6ZTogbnVtYmVyLFxuICByZWRhY3RvcjogUmVkYWN0b3IsXG4gIGJlc2lkZTogQmVzaWRlLFxuICBpZDogc3RyaW5nLFxuICBkaXJlY3Rpb246ICdzZW50JyB8ICdyZWNlaXZlZCcsXG4pOiBSZWNvcmRlZEJvZHkge1xuICBjb25zdCBjdXQgPSB0ZXh0Lmxlbmd0aCA+IGxvbmdlc3Q7XG4gIC8vIEhpZGRlbiBiZWZvcmUgaXQgaXMgY3V0LCBzbyB0aGF0IG5vIGhhbGYgb2YgYSBzZWNyZXQgc3RheXMgYXQgdGhlIGVkZ2UuXG4gIGNvbnN0IHNob3duID0gcmVkYWN0b3IuaGlkZSh0ZXh0KTtcbiAgaWYgKCFjdXQpIHJldHVybiB7IHRleHQ6IHNob3duLCBlbmNvZGluZzogJ3V0Zi04Jywgc2l6ZSwgY3V0OiB1bmRlZmluZWQgfTtcbiAgcmV0dXJuIHsgdGV4dDogc2hvd24uc2xpY2UoMCwgbG9uZ2VzdCksIGVuY29kaW5nOiAndXRmLTgnLCBzaXplLCBjdXQ6IHRydWUsIGZpbGU6IGJlc2lkZShpZCwgZGlyZWN0aW9uLCBzaG93bikgfTtcbn1cblxuZnVuY3Rpb24gcGhhc2VzT2YoeyBwYXJ0czogeyBwaGFzZXMgfSB9OiBSZWNlaXZlZCk6IE5vbk51bGxhYmxlPEVjaG9bJ3BoYXNlcyddPiB7XG4gIHJldHVybiB7XG4gICAgbG9va3VwOiByb3VuZGVkKHBoYXNlcy5sb29rdXApLFxuICAgIGNvbm5lY3Q6IHJvdW5kZWQocGhhc2VzLmNvbm5lY3QpLFxuICAgIHRsczogcm91bmRlZChwaGFzZXMudGxzKSxcbiAgICB3YWl0aW5nOiByb3VuZGVkKHBoYXNlcy53YWl0aW5nKSxcbiAgICByZWNlaXZpbmc6IHJvdW5kZWQocGhhc2VzLnJlY2VpdmluZyksXG4gICAgdG90YWw6IHJvdW5kZWQocGhhc2VzLnRvdGFsKSxcbiAgfTtcbn1cblxuLyoqIE1pY3Jvc2Vjb25kcyBhcmUgZW5vdWdoLiAqL1xuZnVuY3Rpb24gcm91bmRlZChtczogbnVtYmVyIHwgdW5kZWZpbmVkKTogbnVtYmVyIHwgdW5kZWZpbmVkIHtcbiAgcmV0dXJuIG1zID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiBNYXRoLnJvdW5kKG1zICogMTAwMCkgLyAxMDAwO1xufVxuXG5mdW5jdGlvbiByZWNvcmRlZFRyb3VibGUodHJvdWJsZTogUHJvYmxlbSwgcmVkYWN0b3I6IFJlZGFjdG9yKTogTm9uTnVsbGFibGU8RWNob1sndHJvdWJsZSddPiB7XG4gIGNvbnN0IHsgd2hlcmUgfSA9IHRyb3VibGU7XG4gIHJldHVybiB7XG4gICAgLi4uYnJpZWYodHJvdWJsZSwgcmVkYWN0b3IuaGlkZSksXG4gICAgLi4uKHdoZXJlICE9PSB1bmRlZmluZWQgJiYgeyB3aGVyZTogdHlwZW9mIHdoZXJlID09PSAnc3RyaW5nJyA/IHdoZXJlIDogcG9zaXRpb25UZXh0KHdoZXJlKSB9KSxcbiAgfTtcbn1cblxuLyoqIFNvIG1hbnkgcGxhY2VzIHRoYXQgZGlmZmVyIGZyb20gYW4gZXhwZWN0ZWQgZG9jdW1lbnQgYXJlIHJlY29yZGVkLiAqL1xuY29uc3QgbW9zdERldmlhdGlvbnMgPSAxMDA7XG5cbmZ1bmN0aW9uIGhpZGVWZXJkaWN0KHsgZGV2aWF0aW9ucywgLi4udmVyZGljdCB9OiBWZXJkaWN0LCByZWRhY3RvcjogUmVkYWN0b3IpOiBOb25OdWxsYWJsZTxFY2hvWydmYWlsZWQnXT5bbnVtYmVyXSB7XG4gIGNvbnN0IHRleHRzID0gT2JqZWN0LmZyb21FbnRyaWVzKFxuICAgIE9iamVjdC5lbnRyaWVzKHZlcmRpY3QpLm1hcCgoW2tleSwgdmFsdWVdKSA9PiBba2V5LCB0eXBlb2YgdmFsdWUgPT09ICdzdHJpbmcnID8gcmVkYWN0b3IuaGlkZSh2YWx1ZSkgOiB2YWx1ZV0pLFxuICApIGFzIHVua25vd24gYXMgT21pdDxWZXJkaWN0LCAnZGV2aWF0aW9ucyc+O1xuICBpZiAoIWRldmlhdGlvbnMpIHJldHVybiB0ZXh0cztcbiAgY29uc3Qgc2lkZSA9ICh2YWx1ZTogVmFsdWUgfCB1bmRlZmluZWQpOiBWYWx1ZSB8IHVuZGVmaW5lZCA9PiB2YWx1ZSAmJiByZWRhY3Rvci5oaWRlSW4odmFsdWUpO1xuICByZXR1cm4ge1xuICAgIC4uLnRleHRzLFxuICAgIGRldmlhdGlvbnM6IGRldmlhdGlvbnNcbiAgICAgIC5zbGljZSgwLCBtb3N0RGV2aWF0aW9ucylcbiAgICAgIC5tYXAoKHsgYXQsIGtpbmQsIGxlZnQsIHJpZ2h0IH0pID0+ICh7IGF0LCBraW5kLCBsZWZ0OiBzaWRlKGxlZnQpLCByaWdodDogc2lkZShyaWdodCkgfSkpLFxuICB9O1xufVxuIiwgIi8qKiBGcm9tIGEgcmVzb2x2ZWQgcmVxdWVzdCB0byB0aGUgcmVxdWVzdCBhcyBpdCBsZWF2ZXM6IHNlc3Npb24gbGluZXMgYW5kIGF1dG9tYXRpYyBsaW5lcyBhZGRlZC4gKi9cbmltcG9ydCB7IHBlcmNlbnRFbmNvZGUgfSBmcm9tICcuLi9leHByZXNzaW9uL2ZpbHRlcnMvdGV4dC5qcyc7XG5pbXBvcnQgeyBhYnNvbHV0ZVVybCwgd2l0aFF1ZXJ5IH0gZnJvbSAnLi9hZGRyZXNzLmpzJztcbmltcG9ydCB7IGJvZHlTaXplLCB0eXBlIEhlYWRlckxpbmUsIGhpZGRlbiwgdHlwZSBSZXNvbHZlZFJlcXVlc3QsIHR5cGUgV2lyZVJlcXVlc3QgfSBmcm9tICcuL3dpcmUuanMnO1xuXG4vKiogQHBhcmFtIHNlc3Npb25MaW5lcyB3aGF0IHRoZSBzZXNzaW9ucyBhZGQ7IGFuIGV4cGxpY2l0IGhlYWRlciBvZiB0aGUgc2FtZSBuYW1lIHdpbnMgKi9cbmV4cG9ydCBmdW5jdGlvbiBjb21wb3NlUmVxdWVzdChcbiAgcmVxdWVzdDogUmVzb2x2ZWRSZXF1ZXN0LFxuICBzZXNzaW9uTGluZXM6IHJlYWRvbmx5IEhlYWRlckxpbmVbXSxcbiAgdXNlckFnZW50OiBzdHJpbmcsXG4pOiBXaXJlUmVxdWVzdCB7XG4gIGNvbnN0IHsgbWV0aG9kLCBhZGRyZXNzLCBxdWVyeSwgYm9keSB9ID0gcmVxdWVzdDtcbiAgY29uc3QgdXJsID0gYWJzb2x1dGVVcmwod2l0aFF1ZXJ5KGFkZHJlc3MsIHF1ZXJ5LCAocGFpcikgPT4gcGVyY2VudEVuY29kZShwYWlyLnZhbHVlKSkpO1xuICBjb25zdCBzaG93blVybCA9IHF1ZXJ5LnNvbWUoKHsgc2VjcmV0IH0pID0+IHNlY3JldClcbiAgICA/IHdpdGhRdWVyeShhZGRyZXNzLCBxdWVyeSwgKHBhaXIpID0+IChwYWlyLnNlY3JldCA/IGhpZGRlbiA6IHBlcmNlbnRFbmNvZGUocGFpci52YWx1ZSkpKVxuICAgIDogdXJsLmhyZWY7XG4gIGNvbnN0IGhlYWRlcnMgPSBsaW5lc0ZvcihyZXF1ZXN0LCBzZXNzaW9uTGluZXMsIHVzZXJBZ2VudCwgdXJsLmhvc3QpO1xuICByZXR1cm4ge1xuICAgIG1ldGhvZCxcbiAgICB1cmwsXG4gICAgc2hvd25VcmwsXG4gICAgaGVhZGVycyxcbiAgICBib2R5LFxuICAgIHRpbWVvdXQ6IHJlcXVlc3QudGltZW91dCxcbiAgICByZWRpcmVjdHM6IHJlcXVlc3QucmVkaXJlY3RzLFxuICAgIGNvbm5lY3Rpb246IHJlcXVlc3QuY29ubmVjdGlvbixcbiAgfTtcbn1cblxuLyoqIFRoZSBzYW1lIGxpbmVzIGZvciB0aGUgc2FtZSByZXF1ZXN0LCBzbyB0aGF0IGEgcnVuIG9mIHRob3VzYW5kcyBtYWtlcyB0aGVtIG9uY2UuICovXG5jb25zdCBrbm93biA9IG5ldyBXZWFrTWFwPHJlYWRvbmx5IEhlYWRlckxpbmVbXSwgeyByZWFkb25seSBmb3I6IHN0cmluZzsgcmVhZG9ubHkgbGluZXM6IHJlYWRvbmx5IEhlYWRlckxpbmVbXSB9PigpO1xuXG5mdW5jdGlvbiBsaW5lc0ZvcihcbiAgcmVxdWVzdDogUmVzb2x2ZWRSZXF1ZXN0LFxuICBzZXNzaW9uTGluZXM6IHJlYWRvbmx5IEhlYWRlckxpbmVbXSxcbiAgdXNlckFnZW50OiBzdHJpbmcsXG4gIGhvc3Q6IHN0cmluZyxcbik6IHJlYWRvbmx5IEhlYWRlckxpbmVbXSB7XG4gIGlmIChyZXF1ZXN0LmJvZHkgfHwgc2Vzc2lvbkxpbmVzLmxlbmd0aCA+IDApIHJldHVybiBhbGxMaW5lcyhyZXF1ZXN0LCBzZXNzaW9uTGluZXMsIHVzZXJBZ2VudCwgaG9zdCk7XG4gIGNvbnN0IGtleSA9IGAke3JlcXVlc3QubWV0aG9kfSAke2hvc3R9ICR7dXNlckFnZW50fWA7XG4gIGNvbnN0IGJlZm9yZSA9IGtub3duLmdldChyZXF1ZXN0LmhlYWRlcnMpO1xuICBpZiAoYmVmb3JlPy5mb3IgPT09IGtleSkgcmV0dXJuIGJlZm9yZS5saW5lcztcbiAgY29uc3QgbGluZXMgPSBhbGxMaW5lcyhyZXF1ZXN0LCBbXSwgdXNlckFnZW50LCBob3N0KTtcbiAga25vd24uc2V0KHJlcXVlc3QuaGVhZGVycywgeyBmb3I6IGtleSwgbGluZXMgfSk7XG4gIHJldHVybiBsaW5lcztcbn1cblxuZnVuY3Rpb24gYWxsTGluZXMoXG4gIHsgaGVhZGVyczogb3duLCBtZXRob2QsIGJvZHkgfTogUmVzb2x2ZWRSZXF1ZXN0LFxuICBzZXNzaW9uTGluZXM6IHJlYWRvbmx5IEhlYWRlckxpbmVbXSxcbiAgdXNlckFnZW50OiBzdHJpbmcsXG4gIGhvc3Q6IHN0cmluZyxcbik6IHJlYWRvbmx5IEhlYWRlckxpbmVbXSB7XG4gIGNvbnN0IGhlYWRlcnM6IEhlYWRlckxpbmVbXSA9IFtdO1xuICBjb25zdCBhdXRvbWF0aWMgPSAobmFtZTogc3RyaW5nLCB2YWx1ZTogc3RyaW5nKTogdm9pZCA9PiB7XG4gICAgaWYgKCFoYXMob3duLCBuYW1lKSkgaGVhZGVycy5wdXNoKHsgbmFtZSwgdmFsdWUsIG9yaWdpbjogJ2F1dG9tYXRpYycsIHNlY3JldDogZmFsc2UgfSk7XG4gIH07XG4gIC8vIEluIHRoZSBvcmRlciBpbiB3aGljaCB0aGV5IGxlYXZlLlxuICBhdXRvbWF0aWMoJ2hvc3QnLCBob3N0KTtcbiAgYXV0b21hdGljKCdjb25uZWN0aW9uJywgJ2tlZXAtYWxpdmUnKTtcbiAgaGVhZGVycy5wdXNoKC4uLm93bik7XG4gIGZvciAoY29uc3QgbGluZSBvZiBzZXNzaW9uTGluZXMpIHtcbiAgICBjb25zdCBhdCA9IGxpbmUubmFtZSA9PT0gJ0Nvb2tpZScgPyBoZWFkZXJzLmZpbmRJbmRleCgoeyBuYW1lIH0pID0+IG5hbWUudG9Mb3dlckNhc2UoKSA9PT0gJ2Nvb2tpZScpIDogLTE7XG4gICAgaWYgKGF0ICE9PSAtMSkgaGVhZGVyc1thdF0gPSB0b2dldGhlcihoZWFkZXJzW2F0XSBhcyBIZWFkZXJMaW5lLCBsaW5lKTtcbiAgICBlbHNlIGlmICghaGFzKG93biwgbGluZS5uYW1lKSkgaGVhZGVycy5wdXNoKGxpbmUpO1xuICB9XG4gIGF1dG9tYXRpYygnYWNjZXB0JywgJyovKicpO1xuICBhdXRvbWF0aWMoJ3VzZXItYWdlbnQnLCB1c2VyQWdlbnQpO1xuICBmb3IgKGNvbnN0IHsgbmFtZSwgdmFsdWUgfSBvZiBib2R5Py5oZWFkZXJzID8/IFtdKSBhdXRvbWF0aWMobmFtZSwgdmFsdWUpO1xuICBpZiAoYm9keSkgYXV0b21hdGljKCdjb250ZW50LXR5cGUnLCBib2R5LnR5cGUpO1xuICBpZiAoYm9keSkgYXV0b21hdGljKCdjb250ZW50LWxlbmd0aCcsIFN0cmluZyhib2R5U2l6ZShib2R5KSkpO1xuICBlbHNlIGlmIChtZXRob2QgPT09ICdQT1NUJyB8fCBtZXRob2QgPT09ICdQVVQnIHx8IG1ldGhvZCA9PT0gJ1BBVENIJykgYXV0b21hdGljKCdjb250ZW50LWxlbmd0aCcsICcwJyk7XG4gIHJldHVybiBoZWFkZXJzO1xufVxuXG4vKiogT25lIGxpbmUgb2YgY29va2llcyAoUkZDIDYyNjUgc2VjdGlvbiA1LjQpOyBhIG5hbWUgb2YgdGhlIHJlcXVlc3QncyBvd24gd2lucy4gKi9cbmZ1bmN0aW9uIHRvZ2V0aGVyKG93bjogSGVhZGVyTGluZSwgamFyOiBIZWFkZXJMaW5lKTogSGVhZGVyTGluZSB7XG4gIGNvbnN0IG5hbWVzID0gbmV3IFNldChvd24udmFsdWUuc3BsaXQoLztcXHMqLykubWFwKChwYWlyKSA9PiBwYWlyLnNwbGl0KCc9JylbMF0pKTtcbiAgY29uc3Qgb3RoZXJzID0gamFyLnZhbHVlLnNwbGl0KC87XFxzKi8pLmZpbHRlcigocGFpcikgPT4gIW5hbWVzLmhhcyhwYWlyLnNwbGl0KCc9JylbMF0pKTtcbiAgcmV0dXJuIHtcbiAgICAuLi5vd24sXG4gICAgdmFsdWU6IFtvd24udmFsdWUsIC4uLm90aGVyc10uam9pbignOyAnKSxcbiAgICBvcmlnaW46IGAke293bi5vcmlnaW59LCAke2phci5vcmlnaW59YCxcbiAgICBzZWNyZXQ6IHRydWUsXG4gIH07XG59XG5cbmZ1bmN0aW9uIGhhcyhsaW5lczogcmVhZG9ubHkgSGVhZGVyTGluZVtdLCBuYW1lOiBzdHJpbmcpOiBib29sZWFuIHtcbiAgY29uc3Qgd2FudGVkID0gbmFtZS50b0xvd2VyQ2FzZSgpO1xuICByZXR1cm4gbGluZXMuc29tZSgobGluZSkgPT4gbGluZS5uYW1lLnRvTG93ZXJDYXNlKCkgPT09IHdhbnRlZCk7XG59XG4iLCAiLyoqIE9uZSB0cnkgb2YgYSByZXF1ZXN0OiBzZXNzaW9ucyBhbmQgY29va2llcyBhdHRhY2hlZCwgc2VudCwgYW5kIGl0cyBjb29raWVzIHRha2VuLiAqL1xuaW1wb3J0IHsgY29tcG9zZVJlcXVlc3QgfSBmcm9tICcuLi9leGNoYW5nZS9jb21wb3NlLmpzJztcbmltcG9ydCB7IHdpdGhJZGVudGl0eSB9IGZyb20gJy4uL2V4Y2hhbmdlL2Nvbm5lY3Rpb24uanMnO1xuaW1wb3J0IHsgUmVjZWl2ZWQgfSBmcm9tICcuLi9leGNoYW5nZS9yZWNlaXZlZC5qcyc7XG5pbXBvcnQgdHlwZSB7IENhcnJ5aW5nLCBPdXRjb21lIH0gZnJvbSAnLi4vZXhjaGFuZ2UvdHJhbnNwb3J0LmpzJztcbmltcG9ydCB0eXBlIHsgSGVhZGVyTGluZSwgUXVlcnlQYWlyLCBSZXNvbHZlZFJlcXVlc3QsIFdpcmVSZXF1ZXN0IH0gZnJvbSAnLi4vZXhjaGFuZ2Uvd2lyZS5qcyc7XG5pbXBvcnQgdHlwZSB7IE9wZW5KYXIgfSBmcm9tICcuLi9zZXNzaW9uL2Nvb2tpZS1qYXIuanMnO1xuaW1wb3J0IHR5cGUgeyBDYWxsVG9Qcm92ZSB9IGZyb20gJy4uL3Nlc3Npb24vc2Vzc2lvbi1raW5kLmpzJztcbmltcG9ydCB0eXBlIHsgQXR0YWNobWVudCB9IGZyb20gJy4uL3Nlc3Npb24vc2Vzc2lvbnMuanMnO1xuaW1wb3J0IHR5cGUgeyBTZWFsIH0gZnJvbSAnLi9zZWFsLmpzJztcbmltcG9ydCB0eXBlIHsgU2VuZGluZyB9IGZyb20gJy4vc2VuZGluZy5qcyc7XG5pbXBvcnQgdHlwZSB7IFdvcmtzcGFjZSB9IGZyb20gJy4vd29ya3NwYWNlLmpzJztcblxuLyoqIFRoZSByZXF1ZXN0IGFzIGl0IGxlYXZlcy4gQHRocm93cyBQcm9ibGVtIGhvc3Qtbm90LWFsbG93ZWQ6IGl0IGhvbGRzIGEgc2VjcmV0LCBhbmQgdGhlIGhvc3QgaXMgbm90IG9mIHRoZSBlbnZpcm9ubWVudCAqL1xuZXhwb3J0IGZ1bmN0aW9uIGNvbXBvc2VkKFxuICB3b3Jrc3BhY2U6IFdvcmtzcGFjZSxcbiAgcmVxdWVzdDogUmVzb2x2ZWRSZXF1ZXN0LFxuICBsaW5lczogcmVhZG9ubHkgSGVhZGVyTGluZVtdLFxuICBxdWVyeTogcmVhZG9ubHkgUXVlcnlQYWlyW10gPSBbXSxcbik6IFdpcmVSZXF1ZXN0IHtcbiAgY29uc3Qgd2hvbGUgPSBxdWVyeS5sZW5ndGggPiAwID8geyAuLi5yZXF1ZXN0LCBxdWVyeTogWy4uLnJlcXVlc3QucXVlcnksIC4uLnF1ZXJ5XSB9IDogcmVxdWVzdDtcbiAgY29uc3QgbWFkZSA9IGNvbXBvc2VSZXF1ZXN0KHdob2xlLCBsaW5lcywgd29ya3NwYWNlLnVzZXJBZ2VudCk7XG4gIGNvbnN0IGNvbm5lY3Rpb24gPSB3b3Jrc3BhY2UucGlucy5hcHBsaWVkKG1hZGUudXJsLCBtYWRlLmNvbm5lY3Rpb24pO1xuICBjb25zdCB3aXJlID0gY29ubmVjdGlvbiA9PT0gbWFkZS5jb25uZWN0aW9uID8gbWFkZSA6IHsgLi4ubWFkZSwgY29ubmVjdGlvbiB9O1xuICBpZiAocmVxdWVzdC5zZWNyZXQpIHdvcmtzcGFjZS5ob3N0cy5kZW1hbmQod2lyZS51cmwsICdhIHNlY3JldCcpO1xuICByZXR1cm4gd2lyZTtcbn1cblxuZnVuY3Rpb24gc2V0c0Nvb2tpZXMoaGVhZGVyczogUmVjZWl2ZWRbJ2hlYWRlcnMnXSk6IGJvb2xlYW4ge1xuICBmb3IgKGNvbnN0IFtuYW1lXSBvZiBoZWFkZXJzKSBpZiAobmFtZS5sZW5ndGggPT09IDEwICYmIG5hbWUudG9Mb3dlckNhc2UoKSA9PT0gJ3NldC1jb29raWUnKSByZXR1cm4gdHJ1ZTtcbiAgcmV0dXJuIGZhbHNlO1xufVxuXG5jb25zdCBjYXJyeWluZ3MgPSBuZXcgV2Vha01hcDxPcGVuSmFyLCBDYXJyeWluZz4oKTtcblxuLyoqIFRoZSBzYW1lIGZvciBldmVyeSByZXF1ZXN0IHdpdGggdGhlIHNhbWUgamFyLiAqL1xuZnVuY3Rpb24gY2FycnlpbmdPZih7IGhvc3RzIH06IFdvcmtzcGFjZSwgamFyOiBPcGVuSmFyKTogQ2Fycnlpbmcge1xuICBsZXQgY2FycnlpbmcgPSBjYXJyeWluZ3MuZ2V0KGphcik7XG4gIGlmICghY2FycnlpbmcpIHtcbiAgICBjb25zdCBhbnN3ZXJlZDogQ2FycnlpbmdbJ2Fuc3dlcmVkJ10gPSAodXJsLCBoZWFkZXJzKSA9PlxuICAgICAgc2V0c0Nvb2tpZXMoaGVhZGVycykgJiYgaG9zdHMuYWxsb3dzKHVybCkgPyBqYXIudGFrZSh1cmwsIGhlYWRlcnMpIDogdW5kZWZpbmVkO1xuICAgIGNhcnJ5aW5nID0geyBhbGxvd3M6IGhvc3RzLmFsbG93cywgY29va2llczogamFyLmxpbmUsIGFuc3dlcmVkIH07XG4gICAgY2FycnlpbmdzLnNldChqYXIsIGNhcnJ5aW5nKTtcbiAgfVxuICByZXR1cm4gY2Fycnlpbmc7XG59XG5cbmNvbnN0IHdpdGhvdXRKYXIgPSAoKTogT3BlbkphciA9PiAoeyBsaW5lOiAoKSA9PiB1bmRlZmluZWQsIHRha2U6IGFzeW5jICgpID0+IFtdIH0pO1xuXG5leHBvcnQgY29uc3QgamFyRm9yID0gKFxuICB3b3Jrc3BhY2U6IFdvcmtzcGFjZSxcbiAgc2Vzc2lvbnM6IHJlYWRvbmx5IHN0cmluZ1tdLFxuICB3aXRob3V0OiBib29sZWFuIHwgdW5kZWZpbmVkLFxuKTogT3BlbkphciB8IFByb21pc2U8T3Blbkphcj4gPT5cbiAgLy8gV2hhdCBpcyBvcGVuZWQgaGFzIGNvb2tpZXMgb2YgaXRzIG93bjsgYSBrZXkgb3IgYSBjZXJ0aWZpY2F0ZSBiZXNpZGUgaXQgaGFzIG5vbmUuXG4gIHdpdGhvdXQgPyB3aXRob3V0SmFyKCkgOiB3b3Jrc3BhY2UuY29va2llcy5vcGVuKHdvcmtzcGFjZS5zZXNzaW9ucy5vcGVuaW5nKHNlc3Npb25zKSk7XG5cbi8qKiBPbmUgdHJ5OiB3aGF0IHdhcyBhdHRhY2hlZCwgd2hhdCBsZWZ0IGFuZCB3aGVuLCBhbmQgd2hhdCBiZWNhbWUgb2YgaXQuICovXG5leHBvcnQgaW50ZXJmYWNlIEF0dGVtcHQge1xuICByZWFkb25seSBhdDogRGF0ZTtcbiAgcmVhZG9ubHkgYXR0YWNoZWQ6IEF0dGFjaG1lbnQgfCB1bmRlZmluZWQ7XG4gIHJlYWRvbmx5IHdpcmU6IFdpcmVSZXF1ZXN0O1xuICByZWFkb25seSBvdXRjb21lOiBPdXRjb21lO1xuICAvKiogUmVmdXNlZCBpbiB0aGUgd29yZHMgb2YgdGhlIHZlbmRvciwgd2hhdGV2ZXIgdGhlIHN0YXR1czsgZm91bmQgb3V0IHdoZW4gaXRzIGFuc3dlciBpcyByZWFkLiAqL1xuICBpbnNpZGU6IGJvb2xlYW47XG59XG5cbi8qKiBXaGF0IGEgcHJvb2YgaXMgbWFkZSBvZi4gKi9cbmNvbnN0IGNhbGxPZiA9ICh7IG1ldGhvZCwgdXJsLCBib2R5IH06IFdpcmVSZXF1ZXN0KTogQ2FsbFRvUHJvdmUgPT4gKHtcbiAgaG9zdDogdXJsLmhvc3QsXG4gIG1ldGhvZCxcbiAgdGFyZ2V0OiB1cmwucGF0aG5hbWUgKyB1cmwuc2VhcmNoLFxuICBib2R5OiBib2R5Py5zdHJlYW1lZCA/IHVuZGVmaW5lZCA6IGJvZHk/LmJ5dGVzLFxufSk7XG5cbi8qKiBXaGV0aGVyIHRoZSBzZXNzaW9ucyB3YW50IHRoZSByZXF1ZXN0IHNlbnQgYWdhaW4sIGFmdGVyIHdoYXQgdGhleSBoZWFyZC4gKi9cbmV4cG9ydCBmdW5jdGlvbiBhdHRhY2hlZEhlYXJkKHsgc2Vzc2lvbnMgfTogV29ya3NwYWNlLCB7IGF0dGFjaGVkLCBvdXRjb21lOiB7IHJlY2VpdmVkIH0gfTogQXR0ZW1wdCk6IGJvb2xlYW4ge1xuICByZXR1cm4gKFxuICAgIGF0dGFjaGVkICE9PSB1bmRlZmluZWQgJiYgcmVjZWl2ZWQgIT09IHVuZGVmaW5lZCAmJiBzZXNzaW9ucy5oZWFyZChhdHRhY2hlZCwgcmVjZWl2ZWQuc3RhdHVzLCByZWNlaXZlZC5oZWFkZXJzKVxuICApO1xufVxuXG4vKiogVGhlIGNvbm5lY3Rpb24gd2l0aCB0aGUgY2VydGlmaWNhdGUgdGhhdCBhIHNlc3Npb24gc2hvd3MuICovXG5jb25zdCB3aXRoQ2VydGlmaWNhdGUgPSAocmVxdWVzdDogUmVzb2x2ZWRSZXF1ZXN0LCBhdHRhY2hlZDogQXR0YWNobWVudCB8IHVuZGVmaW5lZCk6IFJlc29sdmVkUmVxdWVzdCA9PlxuICBhdHRhY2hlZD8uaWRlbnRpdHkgPyB7IC4uLnJlcXVlc3QsIGNvbm5lY3Rpb246IHdpdGhJZGVudGl0eShyZXF1ZXN0LmNvbm5lY3Rpb24sIGF0dGFjaGVkLmlkZW50aXR5KSB9IDogcmVxdWVzdDtcblxuLyoqIFRoZSBhZGRyZXNzIHRoYXQgYW5zd2VyZWQsIGFzIGl0IHdhcyBiZWZvcmUgaXQgd2FzIHNpZ25lZC4gKi9cbmZ1bmN0aW9uIHdpdGhvdXRTaWduYXR1cmUob3V0Y29tZTogT3V0Y29tZSwgYWRkcmVzc2VzOiBSZWFkb25seU1hcDxzdHJpbmcsIHN0cmluZz4pOiBPdXRjb21lIHtcbiAgY29uc3QgeyByZWNlaXZlZCB9ID0gb3V0Y29tZTtcbiAgY29uc3QgYmFyZSA9IHJlY2VpdmVkICYmIGFkZHJlc3Nlcy5nZXQocmVjZWl2ZWQuZmluYWxVcmwpO1xuICBpZiAoIXJlY2VpdmVkIHx8IGJhcmUgPT09IHVuZGVmaW5lZCkgcmV0dXJuIG91dGNvbWU7XG4gIHJldHVybiB7IC4uLm91dGNvbWUsIHJlY2VpdmVkOiBuZXcgUmVjZWl2ZWQoeyAuLi5yZWNlaXZlZC5wYXJ0cywgZmluYWxVcmw6IGJhcmUgfSkgfTtcbn1cblxuY29uc3Qgbm90aGluZzogcmVhZG9ubHkgbmV2ZXJbXSA9IFtdO1xuXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gYXR0ZW1wdChcbiAgd29ya3NwYWNlOiBXb3Jrc3BhY2UsXG4gIHJlcXVlc3Q6IFJlc29sdmVkUmVxdWVzdCxcbiAgYmFyZTogV2lyZVJlcXVlc3QsXG4gIHNlc3Npb25zOiByZWFkb25seSBzdHJpbmdbXSxcbiAgeyBzaWduYWwsIG9uTGVhdmluZywgbm9Db29raWVzLCBjb29raWVzT2YsIHNpbmssIGxpbmVzOiBtb3JlID0gbm90aGluZyB9OiBTZW5kaW5nLFxuICBzZWFsPzogU2VhbCB8IHVuZGVmaW5lZCxcbik6IFByb21pc2U8QXR0ZW1wdD4ge1xuICBjb25zdCBhdHRhY2hlZCA9IHNlc3Npb25zLmxlbmd0aCA+IDAgPyBhd2FpdCB3b3Jrc3BhY2Uuc2Vzc2lvbnMuYXR0YWNoKHNlc3Npb25zLCBjYWxsT2YoYmFyZSkpIDogdW5kZWZpbmVkO1xuICBjb25zdCBvcGVuaW5nID0gamFyRm9yKHdvcmtzcGFjZSwgY29va2llc09mID8/IHNlc3Npb25zLCBub0Nvb2tpZXMpO1xuICBjb25zdCBqYXIgPSBvcGVuaW5nIGluc3RhbmNlb2YgUHJvbWlzZSA/IGF3YWl0IG9wZW5pbmcgOiBvcGVuaW5nO1xuICBjb25zdCBhbGxvd2VkID0gd29ya3NwYWNlLmhvc3RzLmFsbG93cyhiYXJlLnVybCk7XG4gIGNvbnN0IGNvb2tpZSA9IGFsbG93ZWQgPyBqYXIubGluZShiYXJlLnVybCkgOiB1bmRlZmluZWQ7XG4gIGNvbnN0IGxpbmVzID0gYXR0YWNoZWQgfHwgY29va2llID8gWy4uLm1vcmUsIC4uLihhdHRhY2hlZD8ubGluZXMgPz8gW10pLCAuLi4oY29va2llID8gW2Nvb2tpZV0gOiBbXSldIDogbW9yZTtcbiAgY29uc3QgcXVlcnkgPSBhdHRhY2hlZD8ucXVlcnkgPz8gbm90aGluZztcbiAgY29uc3QgdW5zaWduZWQgPVxuICAgIGxpbmVzLmxlbmd0aCA+IG1vcmUubGVuZ3RoIHx8IHF1ZXJ5Lmxlbmd0aCA+IDAgfHwgYXR0YWNoZWQ/LmlkZW50aXR5XG4gICAgICA/IGNvbXBvc2VkKHdvcmtzcGFjZSwgd2l0aENlcnRpZmljYXRlKHJlcXVlc3QsIGF0dGFjaGVkKSwgbGluZXMsIHF1ZXJ5KVxuICAgICAgOiBiYXJlO1xuICBsZXQgYWRkcmVzc2VzOiBNYXA8c3RyaW5nLCBzdHJpbmc+IHwgdW5kZWZpbmVkO1xuICBjb25zdCBzaWduZWQgPSAob3duOiBXaXJlUmVxdWVzdCk6IFdpcmVSZXF1ZXN0ID0+IHtcbiAgICBjb25zdCBtYWRlID0gc2VhbCA/IHNlYWwuc2lnbihvd24pLndpcmUgOiBvd247XG4gICAgaWYgKG1hZGUudXJsID09PSBvd24udXJsKSByZXR1cm4gbWFkZTtcbiAgICAvLyBXaGF0IGEgc2lnbmF0dXJlIGFkZHMgdG8gYW4gYWRkcmVzcyBpcyBub2JvZHkncyB0byByZWFkLCB3aGVyZXZlciB0aGUgYWRkcmVzcyBpcyB0b2xkLlxuICAgIGFkZHJlc3NlcyA/Pz0gbmV3IE1hcCgpO1xuICAgIGFkZHJlc3Nlcy5zZXQobWFkZS51cmwuaHJlZiwgb3duLnVybC5ocmVmKTtcbiAgICByZXR1cm4gbWFkZTtcbiAgfTtcbiAgY29uc3Qgd2lyZSA9IHNlYWwgPyBzaWduZWQodW5zaWduZWQpIDogdW5zaWduZWQ7XG4gIGNvbnN0IGxlYXZpbmcgPSBvbkxlYXZpbmc/LihyZXF1ZXN0LCAoKSA9PiBgJHt3aXJlLm1ldGhvZH0gJHt3b3Jrc3BhY2UucmVkYWN0b3IuaGlkZSh3aXJlLnNob3duVXJsKX1gKTtcbiAgaWYgKGxlYXZpbmcpIGF3YWl0IGxlYXZpbmc7XG4gIGNvbnN0IGF0ID0gbmV3IERhdGUoKTtcbiAgY29uc3QgdXN1YWwgPSBjYXJyeWluZ09mKHdvcmtzcGFjZSwgamFyKTtcbiAgY29uc3QgY2FycnlpbmcgPSBzZWFsID8geyAuLi51c3VhbCwgc2lnbmVkOiB7IGJhcmU6IHVuc2lnbmVkLCBzaWduOiBzaWduZWQgfSB9IDogdXN1YWw7XG4gIGNvbnN0IHNlbnQgPSBhd2FpdCB3b3Jrc3BhY2UudHJhbnNwb3J0LnNlbmQod2lyZSwgc2lnbmFsLCBjYXJyeWluZywgc2luayk7XG4gIGNvbnN0IG91dGNvbWUgPSBhZGRyZXNzZXMgPyB3aXRob3V0U2lnbmF0dXJlKHNlbnQsIGFkZHJlc3NlcykgOiBzZW50O1xuICBjb25zdCB7IHJlY2VpdmVkIH0gPSBvdXRjb21lO1xuICBpZiAoc2VhbCAmJiByZWNlaXZlZCkge1xuICAgIGlmIChyZWNlaXZlZC5wYXJ0cy5ob3BzLmxlbmd0aCA9PT0gMCkgd29ya3NwYWNlLmNsb2Nrcy5oZWFyZCh3aXJlLnVybC5ob3N0LCByZWNlaXZlZCwgYXQuZ2V0VGltZSgpKTtcbiAgICBzZWFsLmhpZGUocmVjZWl2ZWQpO1xuICB9XG4gIGlmIChyZWNlaXZlZCAmJiBzZXRzQ29va2llcyhyZWNlaXZlZC5oZWFkZXJzKSkgYXdhaXQgY2FycnlpbmcuYW5zd2VyZWQobmV3IFVSTChyZWNlaXZlZC5maW5hbFVybCksIHJlY2VpdmVkLmhlYWRlcnMpO1xuICByZXR1cm4geyBhdCwgYXR0YWNoZWQsIHdpcmUsIG91dGNvbWUsIGluc2lkZTogZmFsc2UgfTtcbn1cbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFnQkEsSUFBTSxVQUFVO0FBR2hCLElBQU0sZ0JBQWdCLG9CQUFJLElBQUksQ0FBQyxpQkFBaUIsdUJBQXVCLFVBQVUsWUFBWSxDQUFDO0FBcUJ2RixTQUFTLFdBQ2QsRUFBRSxJQUFJLElBQUksYUFBYSxTQUFTLFdBQVcsVUFBVSxRQUFRLE1BQU0sS0FBSyxNQUFNLEdBQzlFLE1BQ0EsRUFBRSxVQUFVLFFBQVEsR0FDcEIsVUFDQSxNQUNBLFVBQ0EsUUFDTTtBQUNOLFFBQU0sU0FBUyxTQUFTLE9BQU8sQ0FBQyxFQUFFLEdBQUcsTUFBTSxDQUFDLEVBQUU7QUFDOUMsU0FBTztBQUFBLElBQ0w7QUFBQSxJQUNBLElBQUksUUFBUSxFQUFFO0FBQUEsSUFDZDtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQSxVQUFVLFNBQVMsU0FBUyxJQUFJLENBQUMsR0FBRyxRQUFRLElBQUk7QUFBQSxJQUNoRCxRQUFRLFVBQVUsT0FBTyxPQUFPLElBQUksZUFBZSxRQUFRLFFBQVEsSUFBSTtBQUFBLElBQ3ZFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBLE1BQU07QUFBQSxNQUNKLFFBQVEsS0FBSztBQUFBLE1BQ2IsS0FBSyxTQUFTLEtBQUssS0FBSyxRQUFRO0FBQUEsTUFDaEMsU0FBUyxjQUFjLE1BQU0sUUFBUTtBQUFBLE1BQ3JDLE1BQU0sS0FBSyxRQUFRLGFBQWEsS0FBSyxLQUFLLE9BQU8sU0FBUyxLQUFLLElBQUksR0FBRyxVQUFVLFFBQVEsSUFBSSxNQUFNO0FBQUEsSUFDcEc7QUFBQSxJQUNBLFVBQVUsWUFBWSxlQUFlLFVBQVUsVUFBVSxRQUFRLEVBQUU7QUFBQSxJQUNuRSxRQUFRLFlBQVksU0FBUyxRQUFRO0FBQUEsSUFDckMsU0FBUyxXQUFXLGdCQUFnQixTQUFTLFFBQVE7QUFBQSxJQUNyRCxLQUFLLFNBQVMsU0FBUyxPQUFPO0FBQUEsSUFDOUIsUUFBUSxPQUFPLFNBQVMsSUFBSSxPQUFPLElBQUksQ0FBQyxZQUFZLFlBQVksU0FBUyxRQUFRLENBQUMsSUFBSTtBQUFBLElBQ3RGLE1BQU0sS0FBSyxTQUFTLElBQUksY0FBYyxNQUFNLFFBQVEsSUFBSTtBQUFBLEVBQzFEO0FBQ0Y7QUFFQSxJQUFJLFdBQVc7QUFDZixJQUFJLFVBQVU7QUFHZCxTQUFTLFFBQVEsSUFBa0I7QUFDakMsUUFBTSxPQUFPLEdBQUcsUUFBUTtBQUN4QixNQUFJLFNBQVMsVUFBVTtBQUNyQixjQUFVLEdBQUcsWUFBWTtBQUN6QixlQUFXO0FBQUEsRUFDYjtBQUNBLFNBQU87QUFDVDtBQUVBLElBQU0sV0FBVyxvQkFBSSxRQUErRjtBQUNwSCxJQUFNLGVBQWUsb0JBQUksUUFBZ0Y7QUFHekcsU0FBUyxjQUFjLEVBQUUsU0FBUyxPQUFPLEdBQWdCLFVBQXdDO0FBQy9GLFFBQU0sRUFBRSxLQUFLLElBQUk7QUFDakIsTUFBSSxPQUFRLFFBQU8sUUFBUSxJQUFJLENBQUMsU0FBUyxhQUFhLE1BQU0sTUFBTSxRQUFRLENBQUM7QUFDM0UsUUFBTSxTQUFTLFNBQVMsSUFBSSxPQUFPO0FBQ25DLE1BQUksUUFBUSxTQUFTLEtBQU0sUUFBTyxPQUFPO0FBQ3pDLFFBQU0sUUFBUSxRQUFRLElBQUksQ0FBQyxFQUFFLE1BQU0sT0FBTyxPQUFPLE1BQU0sYUFBYSxNQUFNLE9BQU8sUUFBUSxRQUFRLENBQUM7QUFDbEcsV0FBUyxJQUFJLFNBQVMsRUFBRSxNQUFNLE1BQU0sQ0FBQztBQUNyQyxTQUFPO0FBQ1Q7QUFHQSxTQUFTLGFBQWEsT0FBbUIsTUFBYyxVQUFzQztBQUMzRixNQUFJLE1BQU0sT0FBUSxRQUFPLENBQUMsTUFBTSxNQUFNLE1BQU07QUFDNUMsUUFBTUEsU0FBUSxhQUFhLElBQUksS0FBSztBQUNwQyxNQUFJQSxRQUFPLFNBQVMsS0FBTSxRQUFPQSxPQUFNO0FBQ3ZDLFFBQU0sT0FBTyxhQUFhLE1BQU0sTUFBTSxNQUFNLE9BQU8sT0FBTyxRQUFRO0FBQ2xFLE1BQUksQ0FBQyxNQUFNLE9BQU8sV0FBVyxZQUFZLEVBQUcsY0FBYSxJQUFJLE9BQU8sRUFBRSxNQUFNLEtBQUssQ0FBQztBQUNsRixTQUFPO0FBQ1Q7QUFFQSxTQUFTLGFBQWEsTUFBYyxPQUFlLFFBQWlCLFVBQXNDO0FBQ3hHLFNBQU8sQ0FBQyxNQUFNLFVBQVUsY0FBYyxJQUFJLEtBQUssWUFBWSxDQUFDLElBQUksU0FBUyxTQUFTLFVBQVUsS0FBSyxDQUFDO0FBQ3BHO0FBRUEsU0FBUyxlQUNQLFFBQ0EsVUFDcUM7QUFDckMsUUFBTSxNQUErQixDQUFDO0FBQ3RDLGFBQVcsQ0FBQyxNQUFNLEtBQUssS0FBSztBQUMxQixRQUFJLE1BQU8sS0FBSSxJQUFJLElBQUksTUFBTSxVQUFVLGFBQWEsSUFBSSxJQUFJLFNBQVMsU0FBUyxPQUFPLE1BQU0sTUFBTSxLQUFLLENBQUM7QUFDekcsU0FBTztBQUNUO0FBRUEsU0FBUyxjQUFjLE1BQXVCLFVBQTZDO0FBQ3pGLFFBQU0sTUFBK0IsQ0FBQztBQUN0QyxhQUFXLEVBQUUsTUFBTSxPQUFPLE9BQU8sS0FBSyxLQUFNLEtBQUksSUFBSSxJQUFJLFNBQVMsU0FBUyxTQUFTLE9BQU8sTUFBTSxLQUFLLENBQUM7QUFDdEcsU0FBTztBQUNUO0FBRUEsU0FBUyxlQUNQLFVBQ0EsVUFDQSxRQUNBLElBQytCO0FBQy9CLFFBQU0sRUFBRSxRQUFRLE1BQU0sVUFBVSxlQUFlLFVBQVUsS0FBSyxVQUFVLE9BQU8sU0FBUyxJQUFJLFNBQVM7QUFDckcsU0FBTztBQUFBLElBQ0wsUUFBUSxTQUFTO0FBQUEsSUFDakI7QUFBQSxJQUNBLFNBQVMsZ0JBQWdCLFNBQVMsU0FBUyxRQUFRO0FBQUEsSUFDbkQsTUFBTSxTQUFTLE1BQU0sS0FBSyxTQUFTLElBQUksYUFBYSxVQUFVLFVBQVUsUUFBUSxFQUFFLElBQUk7QUFBQSxJQUN0RixNQUFNLEtBQUssU0FBUyxJQUFJLEtBQUssSUFBSSxDQUFDLEVBQUUsUUFBUSxJQUFJLE9BQU8sRUFBRSxRQUFRLEtBQUssU0FBUyxLQUFLLEdBQUcsRUFBRSxFQUFFLElBQUk7QUFBQSxJQUMvRixVQUFVLEtBQUssU0FBUyxJQUFJLFNBQVMsS0FBSyxRQUFRLElBQUk7QUFBQSxJQUN0RDtBQUFBLElBQ0EsVUFBVSxhQUFhLGFBQWEsU0FBWTtBQUFBLElBQ2hELEtBQUssT0FBTyxZQUFZLEdBQUc7QUFBQSxJQUMzQixVQUFVLFNBQVMsU0FBUyxJQUFJLGdCQUFnQixVQUFVLFFBQVEsSUFBSTtBQUFBLElBQ3RFLE9BQ0UsTUFBTSxTQUFTLElBQ1gsTUFBTSxJQUFJLENBQUMsRUFBRSxRQUFRLFFBQVEsT0FBTyxFQUFFLFFBQVEsU0FBUyxnQkFBZ0IsU0FBUyxRQUFRLEVBQUUsRUFBRSxJQUM1RjtBQUFBLElBQ04sVUFBVSxhQUFhLFNBQVMsTUFBTSxLQUFLLFNBQVMsU0FBWTtBQUFBLEVBQ2xFO0FBQ0Y7QUFFQSxJQUFNLGtCQUFrQixDQUFDLE9BQTRCLGFBQ25ELE1BQU0sSUFBSSxDQUFDLENBQUMsTUFBTSxLQUFLLE1BQU0sYUFBYSxNQUFNLE9BQU8sT0FBTyxRQUFRLENBQUM7QUFFekUsU0FBUyxZQUFZLEVBQUUsVUFBVSxRQUFRLFlBQVksR0FBZ0U7QUFDbkgsUUFBTSxFQUFFLFNBQVMsUUFBUSxPQUFPLFlBQVksSUFBSSxlQUFlLENBQUM7QUFDaEUsU0FBTyxFQUFFLFVBQVUsUUFBUSxTQUFTLFFBQVEsT0FBTyxZQUFZO0FBQ2pFO0FBRUEsU0FBUyxhQUFhLFVBQW9CLFVBQW9CLFFBQWdCLElBQTBCO0FBQ3RHLE1BQUksU0FBUyxRQUFTLFFBQU8sYUFBYSxTQUFTLE1BQU0sU0FBUyxNQUFNLFVBQVUsUUFBUSxJQUFJLFVBQVU7QUFDeEcsUUFBTSxFQUFFLEtBQUssSUFBSSxTQUFTO0FBQzFCLFFBQU0sUUFBUSxPQUFPLEtBQUssS0FBSyxTQUFTLEdBQUcsVUFBVSxDQUFDLENBQUM7QUFDdkQsUUFBTSxNQUFNLEtBQUssU0FBUyxNQUFNO0FBQ2hDLFNBQU87QUFBQSxJQUNMLE1BQU0sTUFBTSxTQUFTLFFBQVE7QUFBQSxJQUM3QixVQUFVO0FBQUEsSUFDVixNQUFNLFNBQVM7QUFBQSxJQUNmLEtBQUssT0FBTztBQUFBLElBQ1osTUFBTSxNQUFNLE9BQU8sSUFBSSxZQUFZLElBQUksSUFBSTtBQUFBLEVBQzdDO0FBQ0Y7QUFFQSxTQUFTLGFBQ1AsTUFDQSxNQUNBLFVBQ0EsUUFDQSxJQUNBLFdBQ2M7QUFDZCxRQUFNLE1BQU0sS0FBSyxTQUFTO0FBRTFCLFFBQU0sUUFBUSxTQUFTLEtBQUssSUFBSTtBQUNoQyxNQUFJLENBQUMsSUFBSyxRQUFPLEVBQUUsTUFBTSxPQUFPLFVBQVUsU0FBUyxNQUFNLEtBQUssT0FBVTtBQUN4RSxTQUFPLEVBQUUsTUFBTSxNQUFNLE1BQU0sR0FBRyxPQUFPLEdBQUcsVUFBVSxTQUFTLE1BQU0sS0FBSyxNQUFNLE1BQU0sT0FBTyxJQUFJLFdBQVcsS0FBSyxFQUFFO0FBQ2pIO0FBRUEsU0FBUyxTQUFTLEVBQUUsT0FBTyxFQUFFLE9BQU8sRUFBRSxHQUEwQztBQUM5RSxTQUFPO0FBQUEsSUFDTCxRQUFRLFFBQVEsT0FBTyxNQUFNO0FBQUEsSUFDN0IsU0FBUyxRQUFRLE9BQU8sT0FBTztBQUFBLElBQy9CLEtBQUssUUFBUSxPQUFPLEdBQUc7QUFBQSxJQUN2QixTQUFTLFFBQVEsT0FBTyxPQUFPO0FBQUEsSUFDL0IsV0FBVyxRQUFRLE9BQU8sU0FBUztBQUFBLElBQ25DLE9BQU8sUUFBUSxPQUFPLEtBQUs7QUFBQSxFQUM3QjtBQUNGO0FBR0EsU0FBUyxRQUFRLElBQTRDO0FBQzNELFNBQU8sT0FBTyxTQUFZLFNBQVksS0FBSyxNQUFNLEtBQUssR0FBSSxJQUFJO0FBQ2hFO0FBRUEsU0FBUyxnQkFBZ0IsU0FBa0IsVUFBa0Q7QUFDM0YsUUFBTSxFQUFFLE1BQU0sSUFBSTtBQUNsQixTQUFPO0FBQUEsSUFDTCxHQUFHLE1BQU0sU0FBUyxTQUFTLElBQUk7QUFBQSxJQUMvQixHQUFJLFVBQVUsVUFBYSxFQUFFLE9BQU8sT0FBTyxVQUFVLFdBQVcsUUFBUSxhQUFhLEtBQUssRUFBRTtBQUFBLEVBQzlGO0FBQ0Y7QUFHQSxJQUFNLGlCQUFpQjtBQUV2QixTQUFTLFlBQVksRUFBRSxZQUFZLEdBQUcsUUFBUSxHQUFZLFVBQXlEO0FBQ2pILFFBQU0sUUFBUSxPQUFPO0FBQUEsSUFDbkIsT0FBTyxRQUFRLE9BQU8sRUFBRSxJQUFJLENBQUMsQ0FBQyxLQUFLLEtBQUssTUFBTSxDQUFDLEtBQUssT0FBTyxVQUFVLFdBQVcsU0FBUyxLQUFLLEtBQUssSUFBSSxLQUFLLENBQUM7QUFBQSxFQUMvRztBQUNBLE1BQUksQ0FBQyxXQUFZLFFBQU87QUFDeEIsUUFBTSxPQUFPLENBQUMsVUFBZ0QsU0FBUyxTQUFTLE9BQU8sS0FBSztBQUM1RixTQUFPO0FBQUEsSUFDTCxHQUFHO0FBQUEsSUFDSCxZQUFZLFdBQ1QsTUFBTSxHQUFHLGNBQWMsRUFDdkIsSUFBSSxDQUFDLEVBQUUsSUFBSSxNQUFNLE1BQU0sTUFBTSxPQUFPLEVBQUUsSUFBSSxNQUFNLE1BQU0sS0FBSyxJQUFJLEdBQUcsT0FBTyxLQUFLLEtBQUssRUFBRSxFQUFFO0FBQUEsRUFDNUY7QUFDRjs7O0FDck9PLFNBQVMsZUFDZCxTQUNBLGNBQ0EsV0FDYTtBQUNiLFFBQU0sRUFBRSxRQUFRLFNBQVMsT0FBTyxLQUFLLElBQUk7QUFDekMsUUFBTSxNQUFNLFlBQVksVUFBVSxTQUFTLE9BQU8sQ0FBQyxTQUFTLGNBQWMsS0FBSyxLQUFLLENBQUMsQ0FBQztBQUN0RixRQUFNLFdBQVcsTUFBTSxLQUFLLENBQUMsRUFBRSxPQUFPLE1BQU0sTUFBTSxJQUM5QyxVQUFVLFNBQVMsT0FBTyxDQUFDLFNBQVUsS0FBSyxTQUFTLFNBQVMsY0FBYyxLQUFLLEtBQUssQ0FBRSxJQUN0RixJQUFJO0FBQ1IsUUFBTSxVQUFVLFNBQVMsU0FBUyxjQUFjLFdBQVcsSUFBSSxJQUFJO0FBQ25FLFNBQU87QUFBQSxJQUNMO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0EsU0FBUyxRQUFRO0FBQUEsSUFDakIsV0FBVyxRQUFRO0FBQUEsSUFDbkIsWUFBWSxRQUFRO0FBQUEsRUFDdEI7QUFDRjtBQUdBLElBQU0sUUFBUSxvQkFBSSxRQUFnRztBQUVsSCxTQUFTLFNBQ1AsU0FDQSxjQUNBLFdBQ0EsTUFDdUI7QUFDdkIsTUFBSSxRQUFRLFFBQVEsYUFBYSxTQUFTLEVBQUcsUUFBTyxTQUFTLFNBQVMsY0FBYyxXQUFXLElBQUk7QUFDbkcsUUFBTSxNQUFNLEdBQUcsUUFBUSxNQUFNLElBQUksSUFBSSxJQUFJLFNBQVM7QUFDbEQsUUFBTSxTQUFTLE1BQU0sSUFBSSxRQUFRLE9BQU87QUFDeEMsTUFBSSxRQUFRLFFBQVEsSUFBSyxRQUFPLE9BQU87QUFDdkMsUUFBTSxRQUFRLFNBQVMsU0FBUyxDQUFDLEdBQUcsV0FBVyxJQUFJO0FBQ25ELFFBQU0sSUFBSSxRQUFRLFNBQVMsRUFBRSxLQUFLLEtBQUssTUFBTSxDQUFDO0FBQzlDLFNBQU87QUFDVDtBQUVBLFNBQVMsU0FDUCxFQUFFLFNBQVMsS0FBSyxRQUFRLEtBQUssR0FDN0IsY0FDQSxXQUNBLE1BQ3VCO0FBQ3ZCLFFBQU0sVUFBd0IsQ0FBQztBQUMvQixRQUFNLFlBQVksQ0FBQyxNQUFjLFVBQXdCO0FBQ3ZELFFBQUksQ0FBQyxJQUFJLEtBQUssSUFBSSxFQUFHLFNBQVEsS0FBSyxFQUFFLE1BQU0sT0FBTyxRQUFRLGFBQWEsUUFBUSxNQUFNLENBQUM7QUFBQSxFQUN2RjtBQUVBLFlBQVUsUUFBUSxJQUFJO0FBQ3RCLFlBQVUsY0FBYyxZQUFZO0FBQ3BDLFVBQVEsS0FBSyxHQUFHLEdBQUc7QUFDbkIsYUFBVyxRQUFRLGNBQWM7QUFDL0IsVUFBTSxLQUFLLEtBQUssU0FBUyxXQUFXLFFBQVEsVUFBVSxDQUFDLEVBQUUsS0FBSyxNQUFNLEtBQUssWUFBWSxNQUFNLFFBQVEsSUFBSTtBQUN2RyxRQUFJLE9BQU8sR0FBSSxTQUFRLEVBQUUsSUFBSSxTQUFTLFFBQVEsRUFBRSxHQUFpQixJQUFJO0FBQUEsYUFDNUQsQ0FBQyxJQUFJLEtBQUssS0FBSyxJQUFJLEVBQUcsU0FBUSxLQUFLLElBQUk7QUFBQSxFQUNsRDtBQUNBLFlBQVUsVUFBVSxLQUFLO0FBQ3pCLFlBQVUsY0FBYyxTQUFTO0FBQ2pDLGFBQVcsRUFBRSxNQUFNLE1BQU0sS0FBSyxNQUFNLFdBQVcsQ0FBQyxFQUFHLFdBQVUsTUFBTSxLQUFLO0FBQ3hFLE1BQUksS0FBTSxXQUFVLGdCQUFnQixLQUFLLElBQUk7QUFDN0MsTUFBSSxLQUFNLFdBQVUsa0JBQWtCLE9BQU8sU0FBUyxJQUFJLENBQUMsQ0FBQztBQUFBLFdBQ25ELFdBQVcsVUFBVSxXQUFXLFNBQVMsV0FBVyxRQUFTLFdBQVUsa0JBQWtCLEdBQUc7QUFDckcsU0FBTztBQUNUO0FBR0EsU0FBUyxTQUFTLEtBQWlCLEtBQTZCO0FBQzlELFFBQU0sUUFBUSxJQUFJLElBQUksSUFBSSxNQUFNLE1BQU0sTUFBTSxFQUFFLElBQUksQ0FBQyxTQUFTLEtBQUssTUFBTSxHQUFHLEVBQUUsQ0FBQyxDQUFDLENBQUM7QUFDL0UsUUFBTSxTQUFTLElBQUksTUFBTSxNQUFNLE1BQU0sRUFBRSxPQUFPLENBQUMsU0FBUyxDQUFDLE1BQU0sSUFBSSxLQUFLLE1BQU0sR0FBRyxFQUFFLENBQUMsQ0FBQyxDQUFDO0FBQ3RGLFNBQU87QUFBQSxJQUNMLEdBQUc7QUFBQSxJQUNILE9BQU8sQ0FBQyxJQUFJLE9BQU8sR0FBRyxNQUFNLEVBQUUsS0FBSyxJQUFJO0FBQUEsSUFDdkMsUUFBUSxHQUFHLElBQUksTUFBTSxLQUFLLElBQUksTUFBTTtBQUFBLElBQ3BDLFFBQVE7QUFBQSxFQUNWO0FBQ0Y7QUFFQSxTQUFTLElBQUksT0FBOEIsTUFBdUI7QUFDaEUsUUFBTSxTQUFTLEtBQUssWUFBWTtBQUNoQyxTQUFPLE1BQU0sS0FBSyxDQUFDLFNBQVMsS0FBSyxLQUFLLFlBQVksTUFBTSxNQUFNO0FBQ2hFOzs7QUM1RU8sU0FBUyxTQUNkLFdBQ0EsU0FDQSxPQUNBLFFBQThCLENBQUMsR0FDbEI7QUFDYixRQUFNLFFBQVEsTUFBTSxTQUFTLElBQUksRUFBRSxHQUFHLFNBQVMsT0FBTyxDQUFDLEdBQUcsUUFBUSxPQUFPLEdBQUcsS0FBSyxFQUFFLElBQUk7QUFDdkYsUUFBTSxPQUFPLGVBQWUsT0FBTyxPQUFPLFVBQVUsU0FBUztBQUM3RCxRQUFNLGFBQWEsVUFBVSxLQUFLLFFBQVEsS0FBSyxLQUFLLEtBQUssVUFBVTtBQUNuRSxRQUFNLE9BQU8sZUFBZSxLQUFLLGFBQWEsT0FBTyxFQUFFLEdBQUcsTUFBTSxXQUFXO0FBQzNFLE1BQUksUUFBUSxPQUFRLFdBQVUsTUFBTSxPQUFPLEtBQUssS0FBSyxVQUFVO0FBQy9ELFNBQU87QUFDVDtBQUVBLFNBQVMsWUFBWSxTQUF1QztBQUMxRCxhQUFXLENBQUMsSUFBSSxLQUFLLFFBQVMsS0FBSSxLQUFLLFdBQVcsTUFBTSxLQUFLLFlBQVksTUFBTSxhQUFjLFFBQU87QUFDcEcsU0FBTztBQUNUO0FBRUEsSUFBTSxZQUFZLG9CQUFJLFFBQTJCO0FBR2pELFNBQVMsV0FBVyxFQUFFLE1BQU0sR0FBYyxLQUF3QjtBQUNoRSxNQUFJLFdBQVcsVUFBVSxJQUFJLEdBQUc7QUFDaEMsTUFBSSxDQUFDLFVBQVU7QUFDYixVQUFNLFdBQWlDLENBQUMsS0FBSyxZQUMzQyxZQUFZLE9BQU8sS0FBSyxNQUFNLE9BQU8sR0FBRyxJQUFJLElBQUksS0FBSyxLQUFLLE9BQU8sSUFBSTtBQUN2RSxlQUFXLEVBQUUsUUFBUSxNQUFNLFFBQVEsU0FBUyxJQUFJLE1BQU0sU0FBUztBQUMvRCxjQUFVLElBQUksS0FBSyxRQUFRO0FBQUEsRUFDN0I7QUFDQSxTQUFPO0FBQ1Q7QUFFQSxJQUFNLGFBQWEsT0FBZ0IsRUFBRSxNQUFNLE1BQU0sUUFBVyxNQUFNLFlBQVksQ0FBQyxFQUFFO0FBRTFFLElBQU0sU0FBUyxDQUNwQixXQUNBLFVBQ0E7QUFBQTtBQUFBLEVBR0EsVUFBVSxXQUFXLElBQUksVUFBVSxRQUFRLEtBQUssVUFBVSxTQUFTLFFBQVEsUUFBUSxDQUFDO0FBQUE7QUFhdEYsSUFBTSxTQUFTLENBQUMsRUFBRSxRQUFRLEtBQUssS0FBSyxPQUFpQztBQUFBLEVBQ25FLE1BQU0sSUFBSTtBQUFBLEVBQ1Y7QUFBQSxFQUNBLFFBQVEsSUFBSSxXQUFXLElBQUk7QUFBQSxFQUMzQixNQUFNLE1BQU0sV0FBVyxTQUFZLE1BQU07QUFDM0M7QUFHTyxTQUFTLGNBQWMsRUFBRSxTQUFTLEdBQWMsRUFBRSxVQUFVLFNBQVMsRUFBRSxTQUFTLEVBQUUsR0FBcUI7QUFDNUcsU0FDRSxhQUFhLFVBQWEsYUFBYSxVQUFhLFNBQVMsTUFBTSxVQUFVLFNBQVMsUUFBUSxTQUFTLE9BQU87QUFFbEg7QUFHQSxJQUFNLGtCQUFrQixDQUFDLFNBQTBCLGFBQ2pELFVBQVUsV0FBVyxFQUFFLEdBQUcsU0FBUyxZQUFZLGFBQWEsUUFBUSxZQUFZLFNBQVMsUUFBUSxFQUFFLElBQUk7QUFHekcsU0FBUyxpQkFBaUIsU0FBa0IsV0FBaUQ7QUFDM0YsUUFBTSxFQUFFLFNBQVMsSUFBSTtBQUNyQixRQUFNLE9BQU8sWUFBWSxVQUFVLElBQUksU0FBUyxRQUFRO0FBQ3hELE1BQUksQ0FBQyxZQUFZLFNBQVMsT0FBVyxRQUFPO0FBQzVDLFNBQU8sRUFBRSxHQUFHLFNBQVMsVUFBVSxJQUFJLFNBQVMsRUFBRSxHQUFHLFNBQVMsT0FBTyxVQUFVLEtBQUssQ0FBQyxFQUFFO0FBQ3JGO0FBRUEsSUFBTSxVQUE0QixDQUFDO0FBRW5DLGVBQXNCLFFBQ3BCLFdBQ0EsU0FDQSxNQUNBLFVBQ0EsRUFBRSxRQUFRLFdBQVcsV0FBVyxXQUFXLE1BQU0sT0FBTyxPQUFPLFFBQVEsR0FDdkUsTUFDa0I7QUFDbEIsUUFBTSxXQUFXLFNBQVMsU0FBUyxJQUFJLE1BQU0sVUFBVSxTQUFTLE9BQU8sVUFBVSxPQUFPLElBQUksQ0FBQyxJQUFJO0FBQ2pHLFFBQU0sVUFBVSxPQUFPLFdBQVcsYUFBYSxVQUFVLFNBQVM7QUFDbEUsUUFBTSxNQUFNLG1CQUFtQixVQUFVLE1BQU0sVUFBVTtBQUN6RCxRQUFNLFVBQVUsVUFBVSxNQUFNLE9BQU8sS0FBSyxHQUFHO0FBQy9DLFFBQU0sU0FBUyxVQUFVLElBQUksS0FBSyxLQUFLLEdBQUcsSUFBSTtBQUM5QyxRQUFNLFFBQVEsWUFBWSxTQUFTLENBQUMsR0FBRyxNQUFNLEdBQUksVUFBVSxTQUFTLENBQUMsR0FBSSxHQUFJLFNBQVMsQ0FBQyxNQUFNLElBQUksQ0FBQyxDQUFFLElBQUk7QUFDeEcsUUFBTSxRQUFRLFVBQVUsU0FBUztBQUNqQyxRQUFNLFdBQ0osTUFBTSxTQUFTLEtBQUssVUFBVSxNQUFNLFNBQVMsS0FBSyxVQUFVLFdBQ3hELFNBQVMsV0FBVyxnQkFBZ0IsU0FBUyxRQUFRLEdBQUcsT0FBTyxLQUFLLElBQ3BFO0FBQ04sTUFBSTtBQUNKLFFBQU0sU0FBUyxDQUFDLFFBQWtDO0FBQ2hELFVBQU0sT0FBTyxPQUFPLEtBQUssS0FBSyxHQUFHLEVBQUUsT0FBTztBQUMxQyxRQUFJLEtBQUssUUFBUSxJQUFJLElBQUssUUFBTztBQUVqQyxrQkFBYyxvQkFBSSxJQUFJO0FBQ3RCLGNBQVUsSUFBSSxLQUFLLElBQUksTUFBTSxJQUFJLElBQUksSUFBSTtBQUN6QyxXQUFPO0FBQUEsRUFDVDtBQUNBLFFBQU0sT0FBTyxPQUFPLE9BQU8sUUFBUSxJQUFJO0FBQ3ZDLFFBQU0sVUFBVSxZQUFZLFNBQVMsTUFBTSxHQUFHLEtBQUssTUFBTSxJQUFJLFVBQVUsU0FBUyxLQUFLLEtBQUssUUFBUSxDQUFDLEVBQUU7QUFDckcsTUFBSSxRQUFTLE9BQU07QUFDbkIsUUFBTSxLQUFLLG9CQUFJLEtBQUs7QUFDcEIsUUFBTSxRQUFRLFdBQVcsV0FBVyxHQUFHO0FBQ3ZDLFFBQU0sV0FBVyxPQUFPLEVBQUUsR0FBRyxPQUFPLFFBQVEsRUFBRSxNQUFNLFVBQVUsTUFBTSxPQUFPLEVBQUUsSUFBSTtBQUNqRixRQUFNLE9BQU8sTUFBTSxVQUFVLFVBQVUsS0FBSyxNQUFNLFFBQVEsVUFBVSxJQUFJO0FBQ3hFLFFBQU0sVUFBVSxZQUFZLGlCQUFpQixNQUFNLFNBQVMsSUFBSTtBQUNoRSxRQUFNLEVBQUUsU0FBUyxJQUFJO0FBQ3JCLE1BQUksUUFBUSxVQUFVO0FBQ3BCLFFBQUksU0FBUyxNQUFNLEtBQUssV0FBVyxFQUFHLFdBQVUsT0FBTyxNQUFNLEtBQUssSUFBSSxNQUFNLFVBQVUsR0FBRyxRQUFRLENBQUM7QUFDbEcsU0FBSyxLQUFLLFFBQVE7QUFBQSxFQUNwQjtBQUNBLE1BQUksWUFBWSxZQUFZLFNBQVMsT0FBTyxFQUFHLE9BQU0sU0FBUyxTQUFTLElBQUksSUFBSSxTQUFTLFFBQVEsR0FBRyxTQUFTLE9BQU87QUFDbkgsU0FBTyxFQUFFLElBQUksVUFBVSxNQUFNLFNBQVMsUUFBUSxNQUFNO0FBQ3REOyIsCiAgIm5hbWVzIjogWyJrbm93biJdCn0K
