import {
  attachedHeard,
  attempt,
  composed,
  jarFor,
  recordEcho
} from "./chunk-2IYWYRKP.js";
import {
  linesOf,
  namesOf,
  takeKeeps,
  wantText
} from "./chunk-33U4T2M5.js";
import {
  checkHeader
} from "./chunk-3HNS4OKH.js";
import {
  asJsonSchema
} from "./chunk-2P5QH4SA.js";
import {
  findOperation,
  sourceIndex
} from "./chunk-KPXZDYPQ.js";
import {
  namesUsed
} from "./chunk-JTXRQ3DM.js";
import {
  mismatches,
  textMismatch
} from "./chunk-UFHSLVCM.js";
import {
  InputNames,
  missingInput
} from "./chunk-3GYCCOMC.js";
import {
  variableNames
} from "./chunk-7G6JQYYU.js";
import {
  spent,
  waitAsked
} from "./chunk-YNHN5OI4.js";
import {
  compileExpectations,
  defaultVerdict,
  judge,
  ownWait,
  problemText
} from "./chunk-KDZI5FEM.js";
import {
  isSecretName,
  secretFieldValues
} from "./chunk-BC36KCSM.js";
import {
  plainConnection
} from "./chunk-77DFO3CW.js";
import {
  certificateOf
} from "./chunk-J7IJ6DS5.js";
import {
  asAnswer,
  headerValue
} from "./chunk-UHUDVQF4.js";
import {
  durationText
} from "./chunk-IQWA53IU.js";
import {
  percentEncode
} from "./chunk-VVGKGSPN.js";
import {
  layered,
  noNames
} from "./chunk-ILBUWU7B.js";
import {
  nearest
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
  isValueMap
} from "./chunk-XGDOGID3.js";

// src/core/collection/documented-schema.ts
var made = /* @__PURE__ */ new WeakMap();
function documentedSchema(collection, operation, status) {
  const answer = answerFor(operation, status);
  return answer && schemaOf(collection, operation, answer.content, `answer ${answer.status}`);
}
function answerFor({ answers }, status) {
  const named = new Map(answers.map((answer) => [answer.status.toUpperCase(), answer]));
  return named.get(String(status)) ?? named.get(`${Math.floor(status / 100)}XX`) ?? named.get("DEFAULT");
}
function schemaOf(collection, { source, id }, content, part) {
  if (typeof content?.schema !== "object" || content.schema === null) return void 0;
  const key = `${source} ${id} ${part}`;
  const cache = made.get(collection) ?? /* @__PURE__ */ new Map();
  made.set(collection, cache);
  let schema = cache.get(key);
  if (!schema) {
    schema = selfContained(content.schema, sourceIndex(collection, source).definitions);
    cache.set(key, schema);
  }
  return schema;
}
function selfContained(schema, definitions) {
  const numbers = /* @__PURE__ */ new Map();
  const $defs = {};
  const waiting = [];
  const local = (reference) => {
    let number = numbers.get(reference);
    if (number === void 0) {
      number = numbers.size;
      numbers.set(reference, number);
      waiting.push(reference);
    }
    return `#/$defs/d${number}`;
  };
  const whole = asJsonSchema(schema, local);
  for (let next = waiting.shift(); next !== void 0; next = waiting.shift()) {
    const definition = definitions.get(next);
    $defs[`d${numbers.get(next)}`] = definition === void 0 ? {} : asJsonSchema(definition, local);
  }
  return numbers.size === 0 ? whole : { ...whole, $defs };
}

// src/core/exchange/against-documentation.ts
function requestMismatches(request, operation) {
  return [...queryMismatches(request, operation), ...bodyMismatches(request, operation)];
}
function queryMismatches({ query }, { parameters, protocol }) {
  if (protocol !== "http") return [];
  const known = new Map(parameters.filter((one) => one.in === "query").map((one) => [one.name, one]));
  return query.flatMap(({ name, value, secret }) => {
    const bare = name.replace(/\[[^\]]*\]$/, "");
    const parameter = known.get(name) ?? known.get(bare);
    const at = `query ${name}`;
    if (!parameter) {
      const near = nearest(name, [...known.keys()]);
      return [{ at, path: [name], what: `is not documented${near === void 0 ? "" : `; documented is ${near}`}` }];
    }
    if (secret || parameter.type.startsWith("object")) return [];
    const texts = parameter.lists === "joined" ? value.split(",") : [value];
    return texts.flatMap((text) => {
      const what = textMismatch(text, parameter);
      return what === void 0 ? [] : [{ at, path: [name], what }];
    });
  });
}
function bodyMismatches({ body }, { parameters, body: documented2, protocol }) {
  if (!body || body.streamed || !/[/+]json\b/.test(body.type)) return [];
  let value;
  try {
    value = JSON.parse(Buffer.from(body.bytes).toString("utf8"));
  } catch {
    return [];
  }
  if (protocol === "graphql") {
    const { variables = {} } = value;
    return mismatches(variables, parameters).map((one) => ({ ...one, at: one.at.replace(/^\$/, "variables") }));
  }
  return documented2 && /[/+]json\b/.test(documented2.type) ? contentMismatches(value, documented2, false) : [];
}
function contentMismatches(value, { fields, alternatives }, answer) {
  if (!alternatives) return mismatches(value, fields, { answer });
  const tried = alternatives.map((one) => mismatches(value, one.fields, { answer }));
  return tried.sort((a, b) => a.length - b.length)[0] ?? [];
}
function answerMismatches(received, operation) {
  const documented2 = answerFor(operation, received.status);
  if (!documented2) {
    const known = operation.answers.map(({ status }) => status).join(", ");
    return [{ at: "status", path: [], what: `is ${received.status}, documented are ${known === "" ? "none" : known}` }];
  }
  if (!documented2.content || !received.claimsJson || received.size === 0) return [];
  const body = received.json();
  if (operation.graphql) {
    const data = body?.data?.[operation.graphql.field];
    return contentMismatches(data, documented2.content, true).filter(({ what }) => !what.endsWith("missing"));
  }
  return contentMismatches(body, documented2.content, true);
}

// src/core/exchange/resolve.ts
var none = /* @__PURE__ */ new Map();
function resolveRequest(plan, giving) {
  const used = giving.withOrigins ? /* @__PURE__ */ new Map() : void 0;
  const variables = variableNames(giving.layers, giving.caller, giving);
  const inputs = new InputNames(plan.inputs, giving.given, variables, giving);
  const names = giving.supplied ? layered(inputs, giving.supplied, variables) : layered(inputs, variables);
  const evaluation = new Evaluation(names, giving, used && ((name, named) => used.set(name, named)));
  try {
    const connection = giving.connection?.(() => new Evaluation(layered(variables, giving.caller), giving)) ?? plainConnection;
    const request = resolveParts(plan, giving, evaluation, connection, used);
    return { request, names, inputs: inputs.used() };
  } catch (error) {
    throw missingAsInput(plan, asProblem(error));
  }
}
function missingAsInput(plan, problem) {
  const input = problem.code === "unknown-name" ? plan.inputs.find(({ name }) => name === problem.data.name) : void 0;
  return input && !("member" in problem.data) ? missingInput(input) : problem;
}
function resolveParts(plan, giving, evaluation, connection, used) {
  const paged = giving.address;
  const partOf = (part) => {
    const own2 = plan.path.get(part)?.evaluate(evaluation);
    if (own2 === omitted) return void 0;
    if (own2 !== void 0) return own2;
    const input = evaluation.names.lookup(part);
    if (input && plan.inputs.some(({ name }) => name === part)) {
      evaluation.onName?.(part, input);
      if (input.secret) evaluation.touchedSecret = true;
      return input.value;
    }
    return void 0;
  };
  const address = paged ?? plan.address.evaluate(evaluation, partOf);
  const addressSecret = evaluation.touchedSecret;
  const lists = plan.content.lists ?? "repeated";
  const query = paged === void 0 ? plan.query.flatMap((value) => queryPairs(value, lists, evaluation)) : [];
  const own = plan.fixedHeaders ?? plan.headers.flatMap((value) => headerLines(value, evaluation));
  const cookie = plan.cookies.size > 0 ? cookieLine(plan, evaluation) : void 0;
  const key = plan.idempotencyKey && keyLine(plan.idempotencyKey, giving.idempotencyKey, evaluation);
  const headers = cookie || key ? [...own, ...cookie ? [cookie] : [], ...key ? [key] : []] : own;
  evaluation.touchedSecret = false;
  const made2 = plan.body?.(evaluation);
  const body = made2?.asQuery ? void 0 : made2;
  query.push(...made2?.asQuery ?? []);
  const { redirects } = plan.content;
  return {
    name: plan.name,
    operation: plan.content.operation,
    method: plan.method,
    address,
    query,
    headers,
    body,
    sessions: plan.sessions,
    changes: plan.changes,
    redirects: redirects === "none" ? 0 : redirects,
    connection,
    timeout: timeoutFor(plan, giving.timeout),
    names: used ?? none,
    idempotencyKey: key?.value,
    secret: addressSecret || query.some(({ secret }) => secret) || headers.some(({ secret }) => secret) || (body?.secret ?? false)
  };
}
var timeouts = /* @__PURE__ */ new WeakMap();
function timeoutFor(plan, over) {
  const known = timeouts.get(plan);
  if (known?.over === over) return known.timeout;
  const timeout = { connect: 1e4, total: 6e4, ...over, ...plan.timeout };
  timeouts.set(plan, { over, timeout });
  return timeout;
}
function keyLine({ header, tree }, given, evaluation) {
  const { value, secret } = given === void 0 ? traced(tree, evaluation) : { value: given, secret: false };
  const text = wantText("idempotency key in", header, value ?? null);
  checkHeader(header, text, void 0);
  return { name: header, value: text, origin: "idempotency-key", secret };
}
function traced(tree, evaluation) {
  const trace = { path: [], secret: [] };
  const value = tree.evaluate(evaluation, trace);
  return { value: value === omitted ? void 0 : value, secret: trace.secret.length > 0 };
}
function queryPairs({ name, tree }, lists, evaluation) {
  const { value, secret } = traced(tree, evaluation);
  if (value === void 0) return [];
  if (isValueMap(value)) return deepPairs(name, value, secret);
  if (!Array.isArray(value)) return [{ name, value: wantText("query parameter", name, value), secret }];
  const items = value.map((item) => wantText("query parameter", name, item));
  if (lists === "joined") return items.length === 0 ? [] : [{ name, value: items.join(","), secret }];
  const key = lists === "bracketed" ? `${name}[]` : name;
  return items.map((item) => ({ name: key, value: item, secret }));
}
function cookieLine({ cookies, name: request }, evaluation) {
  const pairs = [];
  let anySecret = false;
  for (const [name, tree] of cookies) {
    const { value, secret } = traced(tree, evaluation);
    if (value === void 0) continue;
    const text = wantText("cookie", name, value);
    if (!/^[!#-+\--:<-[\]-~]*$/.test(text)) {
      throw new Problem("header-shape", {
        what: `the cookie ${name} holds a space, a quote, a comma, a semicolon or a backslash`,
        remedy: "| percent or | base64 writes it as a cookie can hold it, if the vendor reads it so"
      });
    }
    pairs.push(`${name}=${text}`);
    anySecret ||= secret;
  }
  if (pairs.length === 0) return void 0;
  return { name: "Cookie", value: pairs.join("; "), origin: `request ${request}`, secret: anySecret };
}
function deepPairs(name, value, secret) {
  if (isValueMap(value))
    return Object.entries(value).flatMap(([key, inner]) => deepPairs(`${name}[${key}]`, inner, secret));
  const items = Array.isArray(value) ? value : [value];
  return items.map((item) => ({ name, value: wantText("query parameter", name, item), secret }));
}
function headerLines({ name, tree, origin, fixed }, evaluation) {
  if (fixed) return fixed;
  const { value, secret } = traced(tree, evaluation);
  return value === void 0 ? [] : linesOf(name, value, origin, secret);
}

// src/core/trail/supply.ts
var notOpenYet = "(known when the session is open)";
async function suppliedNames(workspace, sessions, opening) {
  const values = /* @__PURE__ */ new Map();
  const layers = [];
  for (const name of sessions) {
    const { content, name: full } = workspace.collection.read("session", name);
    if (content.supply === void 0) continue;
    const origin = `session ${full}`;
    layers.push(origin);
    const open = await workspace.sessions.openOf(full, opening);
    const closed = !open && workspace.sessions.opening([full]).length > 0;
    const room = workspace.sessionRoom(full);
    for (const [key, value] of Object.entries(content.supply)) {
      const result = closed ? notOpenYet : await room.evaluate(value, ["supply", key], namesOf(open));
      if (result === omitted) continue;
      if (!closed) workspace.redactor.add(result);
      values.set(key, { value: result, origin, secret: !closed });
    }
  }
  if (values.size === 0) return void 0;
  return { lookup: (name) => values.get(name), known: () => values.keys(), layers };
}
var compiled = /* @__PURE__ */ new WeakMap();
async function refusedInside(workspace, sessions, received) {
  for (const name of sessions) {
    const expectations = await refusalOf(workspace, name);
    if (expectations.length === 0) continue;
    const evaluation = new Evaluation(noNames, { world: workspace.world(), onSecret: workspace.redactor.add });
    const verdicts = await judge(expectations, received, evaluation, {});
    if (verdicts.every(({ ok }) => ok)) return true;
  }
  return false;
}
async function refusalOf(workspace, name) {
  const cache = compiled.get(workspace) ?? /* @__PURE__ */ new Map();
  compiled.set(workspace, cache);
  const known = cache.get(name);
  if (known) return known;
  const { content, yaml } = workspace.collection.read("session", name);
  const loads = [];
  const expectations = compileExpectations(content.refused, yaml, ["refused"], workspace.readText, loads);
  await Promise.all(loads);
  cache.set(name, expectations);
  return expectations;
}

// src/core/trail/converse.ts
async function converse(talk) {
  const { workspace, sessions, sending, seal } = talk;
  const { host } = talk.bare.url;
  const ahead = workspace.clocks.ahead(host);
  const once = () => attempt(workspace, talk.request, talk.bare, sessions, sending, seal);
  let tried = await once();
  const { attached } = tried;
  for (let rounds = 0; rounds < 3 && attachedHeard(workspace, tried); rounds += 1) tried = await once();
  if (seal && refusedStatus(tried) && workspace.environment.clock === "follow-server") {
    if (workspace.clocks.ahead(host) !== ahead) tried = await once();
  }
  if (sessions.length > 0) tried.inside = await refusesInside(workspace, sessions, tried);
  const refused = tried.inside || tried.outcome.received?.status === 401;
  if (attached && refused && await workspace.sessions.renew(attached)) {
    if (talk.anew) await workOutAnew(talk, sending.lines);
    tried = await once();
    tried.inside = await refusesInside(workspace, sessions, tried);
  }
  return tried;
}
async function workOutAnew(talk, lines = []) {
  if (!talk.anew) return;
  talk.request = await talk.anew();
  talk.bare = composed(talk.workspace, talk.request, lines);
}
var refusedStatus = ({ outcome: { received } }) => received?.status === 401 || received?.status === 403;
var refusesInside = async (workspace, sessions, { outcome: { received, trouble } }) => received !== void 0 && !trouble && refusedInside(workspace, sessions, received);

// src/core/trail/doubts.ts
var noDoubts = [];
function doubtsOf({ url, method }, { environment }) {
  const { href } = url;
  const { length } = href;
  if (length <= environment.urlLimit && !href.includes("%25")) return noDoubts;
  const doubts = [];
  if (length > environment.urlLimit) {
    doubts.push(
      `the address has ${length} characters, the environment ${environment.name} takes ${environment.urlLimit}${method === "GET" ? "; where the vendor has a form of the call with a body, that has no such limit" : ""}`
    );
  }
  if (/%25[0-9A-Fa-f]{2}/.test(url.pathname + url.search))
    doubts.push("the address holds a value that was percent-encoded before it came in: it is encoded twice now");
  return doubts;
}

// src/core/trail/judge-outcome.ts
async function judgeOutcome(workspace, prepared, sending, given, ownNames, surroundings) {
  const outcome = malformed(given);
  const { received, trouble } = outcome;
  if (received && !trouble) hideTokens(prepared, received, surroundings.onSecret);
  if (!received || trouble) return { outcome, verdicts: [], kept: [], problems: trouble ? [trouble] : [] };
  const evaluation = (names) => new Evaluation(names, surroundings);
  const situation = {
    documented: () => documented(workspace, prepared.plan.content.operation, received)
  };
  const stepExpectations = sending.expectations ?? [];
  const ofRequest = ownParts(prepared, stepExpectations);
  const standard = defaultVerdict(ofRequest.expectations, stepExpectations, received);
  const judgeAll = (at) => {
    const own = judge(ofRequest.expectations, received, evaluation(ownNames), at);
    if (stepExpectations.length === 0 && !standard) return own;
    const ofStep = stepExpectations.length > 0 ? judge(stepExpectations, received, evaluation(sending.caller), at) : [];
    const all = (one, other) => [...one, ...other, ...standard ? [standard] : []];
    return own instanceof Promise || ofStep instanceof Promise ? Promise.all([own, ofStep]).then(([one, other]) => all(one, other)) : all(own, ofStep);
  };
  const judged = judgeAll(situation);
  let verdicts = judged instanceof Promise ? await judged : judged;
  const { accept } = workspace;
  if (accept && verdicts.some(({ ok }) => !ok) && verdicts.every(({ ok, deviations }) => ok || deviations))
    verdicts = await judgeAll({ ...situation, accept });
  const { kept: taken, missing } = takeKeeps(ofRequest.keeps, received, evaluation(ownNames));
  if (sending.keeps && sending.keeps.length > 0) {
    const fromStep = takeKeeps(sending.keeps, received, evaluation(sending.caller));
    taken.push(...fromStep.kept);
    missing.push(...fromStep.missing);
  }
  const kept = taken.map((one) => one.secret || isSecretName(one.name) ? { ...one, secret: true } : one);
  for (const one of kept) if (one.secret) workspace.redactor.add(one.value);
  const failed = verdicts.filter(({ ok }) => !ok);
  const problems = failed.map((verdict) => failedExpectation(verdict));
  if (failed.length === 0) problems.push(...missing);
  return { outcome, verdicts, kept, problems };
}
function hideTokens({ tokens }, received, onSecret) {
  if (received.textual) for (const value of secretFieldValues(received.text)) onSecret(value);
  for (const place of tokens) {
    try {
      const value = place.find(received);
      if (value !== void 0) onSecret(value);
    } catch {
    }
  }
}
function ownParts({ expectations, keeps }, step) {
  if (step.length === 0) return { expectations, keeps };
  const places = new Set(step.map(({ place }) => place.text));
  if (places.has("status")) return { expectations: [], keeps: [] };
  return { keeps, expectations: expectations.filter(({ place }) => !places.has(place.text)) };
}
function malformed(outcome) {
  const { received, trouble } = outcome;
  const saved = received?.parts.saved !== void 0;
  if (!received || trouble || saved || !received.claimsJson || received.size === 0) return outcome;
  try {
    received.json();
    return outcome;
  } catch (error) {
    return { received, trouble: asProblem(error) };
  }
}
function documented(workspace, operation, received) {
  if (operation === void 0) return void 0;
  return documentedSchema(workspace.collection, findOperation(workspace.collection, operation), received.status);
}
function failedExpectation({ place, expected, found, detail, near }) {
  return new Problem("step-failed", {
    what: `${place}: expected ${expected}, found ${found}`,
    cause: [detail, near && `nearest: ${near}`].filter(Boolean).join("; ") || void 0,
    data: { place }
  });
}

// src/core/trail/pacing/tries.ts
var lostCodes = /* @__PURE__ */ new Set([
  "connection-reset",
  "answer-cut-short",
  "answer-timeout",
  "connection-timeout",
  "answer-malformed"
]);
async function inTries(room, once, onTry) {
  const { gate, policy, signal, patience, host } = room;
  const started = performance.now();
  for (let tries = 1; ; tries += 1) {
    const entering = gate.enter(signal);
    const turn = entering instanceof Promise ? await entering : entering;
    if (!turn) throw interrupted();
    if (signal?.aborted) {
      gate.leave(false);
      throw interrupted();
    }
    let attempt2;
    let why;
    try {
      attempt2 = await once();
      why = policy && mayBeAgain(attempt2.outcome, policy) ? await whyAgain(attempt2.outcome, policy, room) : void 0;
    } catch (error) {
      gate.leave(false);
      throw error;
    }
    const { received } = attempt2.outcome;
    if (why === void 0 || !policy || signal?.aborted) {
      if (received) waitAhead(received.headers, room);
      gate.leave(why === void 0);
      return { attempt: attempt2, tries, gaveUp: void 0 };
    }
    const told = received && waitAsked(received.headers, Date.now());
    const wait = told ?? ownWait(policy, tries, Math.random());
    if (received) patience.refused += 1;
    const elapsed = performance.now() - started;
    const gaveUp = policy.onlyTold && told === void 0 ? "" : wait > policy.ceiling ? `${host} asks to wait ${durationText(wait)}, and retry waits ${durationText(policy.ceiling)} at most` : tries >= policy.tries ? `tried ${tries} times in ${durationText(elapsed)}, as often as retry allows` : elapsed + wait > policy.within ? `tried ${tries} times in ${durationText(elapsed)}; another try would take longer than retry allows` : void 0;
    if (gaveUp !== void 0) {
      gate.leave(false);
      return { attempt: attempt2, tries, gaveUp: gaveUp === "" ? void 0 : gaveUp };
    }
    if (tries === 1) patience.triedAgain += 1;
    const added = received ? gate.shut(wait, turn) : 0;
    gate.leave(false);
    patience.waited += added;
    if (added > wait / 4 || !received) room.onWait?.({ host, wait, added, why, told: told !== void 0 });
    await onTry(attempt2);
    if (!received) await pause(wait, signal);
  }
}
var interrupted = () => new Problem("interrupted", { what: "interrupted" });
function waitAhead(lines, { gate, policy, host, patience, onWait }) {
  if (!policy) return;
  const wait = spent(lines);
  if (wait === void 0 || wait <= 0 || wait > policy.ceiling) return;
  const added = gate.shut(wait);
  patience.waited += added;
  if (added > 0) onWait?.({ host, wait, added, why: "quota spent", told: true });
}
var mayBeAgain = ({ received, trouble }, { statuses, busy }) => trouble !== void 0 || busy.length > 0 || received !== void 0 && statuses.has(received.status);
async function whyAgain({ received, trouble }, policy, room) {
  if (received && !trouble) {
    const { status } = received;
    if (policy.statuses.has(status) && (status < 500 || room.repeatable)) {
      return await room.expected({ received, trouble }) ? void 0 : `status ${status}`;
    }
    if (policy.busy.length > 0 && await room.busy({ received, trouble })) return "too busy";
    return void 0;
  }
  if (!trouble || policy.onlyTold || !room.repeatable || !lostCodes.has(trouble.code)) return void 0;
  return trouble.code;
}
function pause(ms, signal) {
  return new Promise((resolve) => {
    if (signal?.aborted) return resolve();
    const done = () => {
      clearTimeout(timer);
      signal?.removeEventListener("abort", done);
      resolve();
    };
    const timer = setTimeout(done, Math.ceil(ms));
    signal?.addEventListener("abort", done, { once: true });
  });
}

// src/core/trail/refusal.ts
var apart = 6e4;
function refusalOf2(workspace, sessions, lines, received, inside, signed) {
  const { status } = received;
  const kind = status === 403 ? "forbidden" : status === 401 || inside ? "refused" : void 0;
  if (kind === void 0) return void 0;
  const challenges = headerValue(received.headers, "www-authenticate");
  const body = problemText(received);
  return {
    kind,
    sent: [
      ...sessions.map((name) => proofOf(workspace, name, lines)),
      ...signed ? [signatureProof(workspace, signed.signature, lines)] : []
    ],
    said: [challenges, body].filter((one) => one !== void 0),
    clock: clockOf(received),
    remedies: signed === void 0 ? remediesFor(workspace, kind, sessions, challenges) : [
      ...sessions.length > 0 ? remediesFor(workspace, kind, sessions, challenges) : [],
      ...clockOf(received) !== void 0 && workspace.environment.clock === "own" ? ["clock: follow-server in the environment signs with the time of the server"] : [],
      `echo-trail preview ${signed.request} --signature shows how it is made; --against TEXT compares it with what the vendor shows`
    ]
  };
}
function proofOf({ collection }, name, lines) {
  const { content, name: full } = collection.read("session", name);
  const headers = lines.filter(({ origin }) => origin === `session ${full}`).map((line) => line.name);
  const where = content.kind === "api-key" && content.query !== void 0 ? `the parameter ${content.query}` : content.kind === "certificate" ? "a client certificate" : headers.length > 0 ? headers.join(", ") : content.supply ? `the names ${Object.keys(content.supply).join(", ")}` : "nothing yet";
  return `session ${full} (${content.kind}): ${where}${madeFrom(content)}`;
}
function signatureProof({ collection }, name, lines) {
  const { content } = collection.read("signature", name);
  const headers = lines.filter(({ origin }) => origin === `signature ${name}`).map((line) => line.name);
  return `signature ${name} (${content.kind ?? "recipe"}): ${headers.join(", ") || "in the address or the body"}${madeFrom(content)}`;
}
function secretsIn({ examples: _, ...content }) {
  return [...new Set(namesUsed(content).flatMap(({ secret }) => secret ?? []))];
}
var madeFrom = (content) => {
  const secrets = secretsIn({ ...content }).map((one) => `secret ${one}`);
  return secrets.length > 0 ? `, made from ${secrets.join(", ")}` : "";
};
function clockOf({ headers, parts }) {
  const date = Date.parse(headerValue(headers, "date") ?? "");
  if (Number.isNaN(date)) return void 0;
  const ahead = date - (Date.now() - parts.phases.receiving);
  if (Math.abs(ahead) < apart) return void 0;
  const minutes = Math.round(Math.abs(ahead) / 6e4) * 6e4;
  return `the server's clock is ${durationText(minutes)} ${ahead > 0 ? "ahead of" : "behind"} this one; proofs with times in them fail`;
}
var schemes = {
  basic: "basic",
  digest: "digest",
  bearer: "bearer",
  login: "bearer",
  oauth2: "bearer"
};
function remediesFor({ collection }, kind, sessions, challenges) {
  const wanted = /\bscope="([^"]*)"/.exec(challenges ?? "")?.[1];
  if (kind === "forbidden") {
    if (sessions.length === 0) return [noProof(collection.names("session"))];
    if (/insufficient_scope/.test(challenges ?? ""))
      return [`the token lacks a scope${wanted ? ` (${wanted})` : ""}: scope: in the session file asks for it`];
    return [
      "the proof is not the one that is wanted here, the right is missing, access is not enabled for this account, or the address of this machine is not allowed: ask the vendor which"
    ];
  }
  if (sessions.length === 0) return [noProof(collection.names("session"))];
  const kinds = sessions.map((name) => collection.read("session", name).content);
  const offered = [...(challenges ?? "").matchAll(/(?:^|,\s*)([A-Za-z][\w-]*)(?=\s+[\w-]+=|\s*$|\s*,)/g)].map(
    ([, scheme]) => scheme.toLowerCase()
  );
  const own = kinds.flatMap((content) => schemes[content.kind] ?? []);
  const remedies = [];
  if (offered.length > 0 && own.length > 0 && !own.some((scheme) => offered.includes(scheme)))
    remedies.push(`the server wants ${offered.join(" or ")}, and the session speaks ${own.join(", ")}`);
  for (const content of kinds) {
    const secrets = secretsIn(content);
    const set = secrets.map((name) => `echo-trail secret set ${name}`).join(", ");
    if (content.kind === "login" || content.kind === "oauth2")
      remedies.push("the session was opened, and its token is not taken: is it for this API, and this environment?");
    else if (secrets.length > 0) remedies.push(`is the secret right and still good? ${set}`);
  }
  return remedies;
}
var noProof = (sessions) => sessions.length === 0 ? "no proof was sent; sessions/NAME.yaml describes one" : `no proof was sent: --session NAME, or session: in the request; there are ${sessions.join(", ")}`;

// src/core/trail/seal.ts
var present = 1e3;
function sealFor(workspace, signer, world, caller) {
  const { layers, environment, clocks, moment, redactor } = workspace;
  let first = true;
  const derived = /* @__PURE__ */ new Set();
  const onSecret = (value) => {
    if (!(value instanceof Uint8Array)) derived.add(textOf(value));
  };
  const room = (wire) => {
    const ahead = environment.clock === "follow-server" && moment?.now === void 0 ? clocks.ahead(wire.url.host) : 0;
    const fresh = first && ahead === 0 && (moment?.now !== void 0 || Date.now() - world.now.getTime() < present);
    const own = fresh ? world : world.again({ now: moment?.now ?? new Date(Date.now() + ahead), nonce: moment?.nonce });
    first = false;
    return { world: own, variables: variableNames(layers, caller, { world: own, onSecret }), onSecret };
  };
  return {
    signer,
    sign: (wire, look) => signer.sign(wire, look ? { ...room(wire), look: true } : room(wire)),
    distrust: (received, sent) => signer.verify?.(received, sent, room(sent)),
    hide(received) {
      for (const text of derived) {
        if (text.length < 8) continue;
        const inAddress = percentEncode(text);
        const repeats = (one) => one.length >= text.length && (one.includes(text) || inAddress !== text && one.includes(inAddress));
        if (received.headers.some(([, value]) => repeats(value)) || received.textual && repeats(received.text))
          redactor.add(text);
      }
    }
  };
}

// src/core/trail/repeatable.ts
var idempotent = /* @__PURE__ */ new Set(["PUT", "DELETE"]);
var isRepeatable = ({
  method,
  changes,
  idempotencyKey
}) => !changes || idempotent.has(method) || idempotencyKey !== void 0;

// src/core/trail/try-room.ts
function tryRoom(workspace, prepared, { expectations = [], caller, signal }, { request, bare }, evaluation) {
  const { host } = bare.url;
  const policy = prepared.retry ? prepared.retry.policy : workspace.retry;
  const holds = async (wanted, { received }, own) => received !== void 0 && (await judge(wanted, received, own, { documented: () => void 0 })).every(({ ok }) => ok);
  const onStatus = (of) => of.filter(({ place }) => place.text === "status");
  return {
    gate: workspace.gate(host),
    host,
    policy,
    repeatable: isRepeatable(request),
    signal,
    patience: workspace.patience,
    onWait: workspace.onWait,
    async expected(outcome) {
      const [ofStep, own] = [onStatus(expectations), onStatus(prepared.expectations)];
      if (ofStep.length > 0) return holds(ofStep, outcome, evaluation(caller));
      return own.length > 0 && holds(own, outcome, evaluation());
    },
    busy: (outcome) => holds(policy?.busy ?? [], outcome, evaluation())
  };
}

// src/core/trail/send.ts
function givingOf(workspace, { given, caller, idempotencyKey, address }, supplied) {
  const { layers, redactor, timeout, connection } = workspace;
  const world = workspace.world();
  const onSecret = redactor.add;
  return { layers, given, caller, timeout, connection, world, onSecret, idempotencyKey, address, supplied };
}
async function previewRequest(workspace, prepared, sending) {
  const sessions = sending.sessions ?? prepared.plan.sessions;
  const giving = givingOf(workspace, sending);
  const { request } = resolveRequest(prepared.plan, {
    ...giving,
    supplied: await suppliedNames(workspace, sessions, false),
    withOrigins: true
  });
  const { lines, query, notOpen } = await workspace.sessions.peek(sessions);
  const bare = composed(workspace, request, lines, query);
  const cookie = (await jarFor(workspace, sessions, sending.noCookies)).line(bare.url);
  const unsigned = cookie ? composed(workspace, request, [...lines, cookie], query) : bare;
  const signer = await signerFor(workspace, prepared, sending.signature);
  const seal = signer && sealFor(workspace, signer, giving.world, sending.caller);
  const signed = seal?.sign(unsigned, "look");
  return {
    request,
    notOpen,
    doubts: doubtsOf(bare, workspace),
    wire: signed?.wire ?? unsigned,
    signed: seal && signed && {
      name: seal.signer.name,
      steps: signed.steps,
      missing: signed.missing,
      clock: {
        ahead: workspace.clocks.ahead(bare.url.host),
        followed: workspace.environment.clock === "follow-server" && workspace.moment?.now === void 0
      }
    }
  };
}
async function signerFor(workspace, prepared, given) {
  if (given === void 0) return prepared.signer;
  return given === "none" ? void 0 : workspace.signer(given);
}
async function sendRequest(workspace, prepared, sending) {
  if (workspace.dryRun) return unsent(workspace, prepared, sending);
  const sessions = sending.sessions ?? prepared.plan.sessions;
  const supplied = sessions.length > 0 ? await suppliedNames(workspace, sessions, false) : void 0;
  const giving = givingOf(workspace, sending, supplied);
  let { request, names, inputs } = resolveRequest(prepared.plan, giving);
  let bare = composed(workspace, request, sending.lines ?? []);
  if (sending.onAccepted) {
    await acceptCertificate(workspace, bare, sending.onAccepted);
    bare = composed(workspace, request, sending.lines ?? []);
  }
  if (sessions.length > 0) workspace.hosts.demand(bare.url, `the session ${sessions.join(", ")}`);
  const signer = sending.signature === void 0 ? prepared.signer : await signerFor(workspace, prepared, sending.signature);
  const seal = signer && sealFor(workspace, signer, giving.world, sending.caller);
  if (seal) workspace.hosts.demand(bare.url, `the signature ${seal.signer.name}`);
  if (request.changes || changesByDocumentation(workspace, prepared))
    await workspace.demandChange({ host: bare.url.host, method: request.method, url: bare.shownUrl });
  const record = ({ at, wire: wire2 }, judged2, again) => {
    const id2 = workspace.log.nextId();
    const { name: environment } = workspace.environment;
    const { step, row } = sending;
    const { name, operation } = talk.request;
    const occasion = {
      id: id2,
      at,
      environment,
      request: name,
      operation,
      sessions,
      inputs,
      step,
      row,
      again: again && true
    };
    const { outcome: outcome2, verdicts: verdicts2, kept: kept2 } = judged2;
    workspace.log.append(recordEcho(occasion, wire2, outcome2, verdicts2, kept2, workspace.redactor, workspace.log.beside));
    return id2;
  };
  const talk = {
    workspace,
    sessions,
    sending,
    seal,
    request,
    bare,
    anew: supplied && (async () => {
      giving.supplied = await suppliedNames(workspace, sessions, true);
      const again = resolveRequest(prepared.plan, giving);
      ({ names, inputs } = again);
      return again.request;
    })
  };
  await workOutAnew(talk, sending.lines);
  const undocumented = sending.documented ? undocumentedParts(workspace, talk.request, sending.documented) : [];
  const {
    attempt: tried,
    tries,
    gaveUp
  } = await inTries(
    tryRoom(workspace, prepared, sending, talk, (own) => new Evaluation(own ?? names, giving)),
    () => converse(talk),
    async (early) => {
      record(early, { outcome: early.outcome, verdicts: [], kept: [], problems: [] }, "again");
    }
  );
  const { inside } = tried;
  request = talk.request;
  const { wire, outcome } = tried;
  const { received } = outcome;
  const refusal = received && refusalOf2(
    workspace,
    sessions,
    wire.headers,
    received,
    inside,
    seal && { signature: seal.signer.name, request: request.name }
  );
  const judged = await judgeOutcome(workspace, prepared, sending, outcome, names, giving);
  const distrust = received && !outcome.trouble ? seal?.distrust(received, wire) : void 0;
  if (distrust) judged.problems.push(distrust);
  if (gaveUp !== void 0 && judged.problems.length > 0)
    judged.problems.push(new Problem("step-failed", { what: gaveUp }));
  const id = record(tried, judged);
  if (workspace.log.waiting > 4e6) await workspace.log.flushed();
  const { verdicts, kept, problems } = judged;
  const doubts = doubtsOf(wire, workspace);
  return {
    echo: id,
    tries,
    request,
    wire,
    undocumented,
    doubts,
    refusal,
    outcome: judged.outcome,
    verdicts,
    kept,
    problems
  };
}
function changesByDocumentation({ environment, collection }, { plan }) {
  const { changes, operation } = plan.content;
  if (environment.changes === "allow" || changes !== void 0 || operation === void 0) return false;
  try {
    return findOperation(collection, operation).changes;
  } catch {
    return false;
  }
}
async function acceptCertificate({ pins }, { url, connection }, onAccepted) {
  const facts = url.protocol === "https:" ? await certificateOf(url, connection.tls?.serverName) : void 0;
  if (!facts) {
    throw new Problem("tls-failed", {
      what: `${url.host} shows no certificate to accept`,
      where: "connecting",
      cause: url.protocol === "https:" ? "no TLS connection came about" : "the address is http"
    });
  }
  onAccepted(facts, await pins.accept(url, facts));
}
function undocumentedParts(workspace, request, how) {
  if (request.operation === void 0) return [];
  const found = requestMismatches(request, findOperation(workspace.collection, request.operation));
  if (how === "tell" || found.length === 0) return found;
  throw new Problem("not-documented", {
    what: `the request differs from ${request.operation}: ${found.map(({ at, what }) => `${at} ${what}`).join("; ")}`,
    remedy: `echo-trail docs show ${request.operation}; without --strict it is sent with a warning`,
    data: { operation: request.operation }
  });
}
async function unsent(workspace, prepared, sending) {
  const { request, wire, doubts } = await previewRequest(workspace, prepared, sending);
  if (request.changes && workspace.environment.changes === "refuse")
    await workspace.demandChange({ host: wire.url.host, method: request.method, url: wire.shownUrl });
  const surroundings = { world: workspace.world(), onSecret: workspace.redactor.add };
  const { kept } = takeKeeps(
    [...prepared.keeps, ...sending.keeps ?? []],
    asAnswer(documentedExample(workspace, request.operation)),
    new Evaluation(noNames, surroundings)
  );
  const outcome = { received: void 0, trouble: void 0 };
  const nothing = { verdicts: [], undocumented: [], problems: [], refusal: void 0 };
  return { echo: "", tries: 0, request, wire, doubts, outcome, kept, ...nothing };
}
function documentedExample({ collection }, operation) {
  if (operation === void 0) return null;
  try {
    const { answers } = findOperation(collection, operation);
    const good = answers.find(
      ({ status, content }) => /^(?:2|default)/i.test(status) && content?.example !== void 0
    );
    return good?.content?.example ?? null;
  } catch {
    return null;
  }
}

export {
  answerMismatches,
  pause,
  isRepeatable,
  previewRequest,
  sendRequest
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvY29sbGVjdGlvbi9kb2N1bWVudGVkLXNjaGVtYS50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9leGNoYW5nZS9hZ2FpbnN0LWRvY3VtZW50YXRpb24udHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvZXhjaGFuZ2UvcmVzb2x2ZS50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9zdXBwbHkudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvY29udmVyc2UudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvZG91YnRzLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL2p1ZGdlLW91dGNvbWUudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvcGFjaW5nL3RyaWVzLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3JlZnVzYWwudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvc2VhbC50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9yZXBlYXRhYmxlLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3RyeS1yb29tLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3NlbmQudHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBUaGUgZG9jdW1lbnRlZCBzY2hlbWEgb2YgYW4gYW5zd2VyIG9yIGEgYm9keSwgcmVhZHkgZm9yIHZhbGlkYXRpb24uICovXG5pbXBvcnQgdHlwZSB7IENvbnRlbnQsIERlZmluaXRpb25zLCBPcGVyYXRpb24gfSBmcm9tICcuLi9kb2N1bWVudGF0aW9uL21vZGVsLmpzJztcbmltcG9ydCB7IGFzSnNvblNjaGVtYSB9IGZyb20gJy4uL2RvY3VtZW50YXRpb24vb3BlbmFwaS9qc29uLXNjaGVtYS5qcyc7XG5pbXBvcnQgdHlwZSB7IFZhbHVlIH0gZnJvbSAnLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgdHlwZSB7IENvbGxlY3Rpb24gfSBmcm9tICcuL2NvbGxlY3Rpb24uanMnO1xuaW1wb3J0IHsgc291cmNlSW5kZXggfSBmcm9tICcuL3NvdXJjZS1pbmRleC5qcyc7XG5cbmNvbnN0IG1hZGUgPSBuZXcgV2Vha01hcDxDb2xsZWN0aW9uLCBNYXA8c3RyaW5nLCBvYmplY3Q+PigpO1xuXG4vKiogVGhlIEpTT04gU2NoZW1hIG9mIGFuIGFuc3dlciBieSBpdHMgc3RhdHVzLCB3aXRoIGl0cyBkZWZpbml0aW9ucyBiZXNpZGUgaXQ7IHVuZGVmaW5lZCB3aGVyZSBub25lIGlzIGRvY3VtZW50ZWQuICovXG5leHBvcnQgZnVuY3Rpb24gZG9jdW1lbnRlZFNjaGVtYShjb2xsZWN0aW9uOiBDb2xsZWN0aW9uLCBvcGVyYXRpb246IE9wZXJhdGlvbiwgc3RhdHVzOiBudW1iZXIpOiBvYmplY3QgfCB1bmRlZmluZWQge1xuICBjb25zdCBhbnN3ZXIgPSBhbnN3ZXJGb3Iob3BlcmF0aW9uLCBzdGF0dXMpO1xuICByZXR1cm4gYW5zd2VyICYmIHNjaGVtYU9mKGNvbGxlY3Rpb24sIG9wZXJhdGlvbiwgYW5zd2VyLmNvbnRlbnQsIGBhbnN3ZXIgJHthbnN3ZXIuc3RhdHVzfWApO1xufVxuXG4vKiogQnkgaXRzIHN0YXR1cywgZWxzZSBieSBpdHMgY2xhc3MsIGVsc2UgdGhlIGRlZmF1bHQuICovXG5leHBvcnQgZnVuY3Rpb24gYW5zd2VyRm9yKHsgYW5zd2VycyB9OiBPcGVyYXRpb24sIHN0YXR1czogbnVtYmVyKTogT3BlcmF0aW9uWydhbnN3ZXJzJ11bbnVtYmVyXSB8IHVuZGVmaW5lZCB7XG4gIGNvbnN0IG5hbWVkID0gbmV3IE1hcChhbnN3ZXJzLm1hcCgoYW5zd2VyKSA9PiBbYW5zd2VyLnN0YXR1cy50b1VwcGVyQ2FzZSgpLCBhbnN3ZXJdKSk7XG4gIHJldHVybiBuYW1lZC5nZXQoU3RyaW5nKHN0YXR1cykpID8/IG5hbWVkLmdldChgJHtNYXRoLmZsb29yKHN0YXR1cyAvIDEwMCl9WFhgKSA/PyBuYW1lZC5nZXQoJ0RFRkFVTFQnKTtcbn1cblxuZnVuY3Rpb24gc2NoZW1hT2YoXG4gIGNvbGxlY3Rpb246IENvbGxlY3Rpb24sXG4gIHsgc291cmNlLCBpZCB9OiBPcGVyYXRpb24sXG4gIGNvbnRlbnQ6IENvbnRlbnQgfCB1bmRlZmluZWQsXG4gIHBhcnQ6IHN0cmluZyxcbik6IG9iamVjdCB8IHVuZGVmaW5lZCB7XG4gIGlmICh0eXBlb2YgY29udGVudD8uc2NoZW1hICE9PSAnb2JqZWN0JyB8fCBjb250ZW50LnNjaGVtYSA9PT0gbnVsbCkgcmV0dXJuIHVuZGVmaW5lZDtcbiAgY29uc3Qga2V5ID0gYCR7c291cmNlfSAke2lkfSAke3BhcnR9YDtcbiAgY29uc3QgY2FjaGUgPSBtYWRlLmdldChjb2xsZWN0aW9uKSA/PyBuZXcgTWFwPHN0cmluZywgb2JqZWN0PigpO1xuICBtYWRlLnNldChjb2xsZWN0aW9uLCBjYWNoZSk7XG4gIGxldCBzY2hlbWEgPSBjYWNoZS5nZXQoa2V5KTtcbiAgaWYgKCFzY2hlbWEpIHtcbiAgICBzY2hlbWEgPSBzZWxmQ29udGFpbmVkKGNvbnRlbnQuc2NoZW1hLCBzb3VyY2VJbmRleChjb2xsZWN0aW9uLCBzb3VyY2UpLmRlZmluaXRpb25zKTtcbiAgICBjYWNoZS5zZXQoa2V5LCBzY2hlbWEpO1xuICB9XG4gIHJldHVybiBzY2hlbWE7XG59XG5cbi8qKiBFdmVyeXRoaW5nIHRoYXQgdGhlIHNjaGVtYSByZWZlcnMgdG8gc3RhbmRzIGJlbG93IGAkZGVmc2AsIGJ5IGEgbnVtYmVyLiAqL1xuZnVuY3Rpb24gc2VsZkNvbnRhaW5lZChzY2hlbWE6IFZhbHVlLCBkZWZpbml0aW9uczogRGVmaW5pdGlvbnMpOiBvYmplY3Qge1xuICBjb25zdCBudW1iZXJzID0gbmV3IE1hcDxzdHJpbmcsIG51bWJlcj4oKTtcbiAgY29uc3QgJGRlZnM6IFJlY29yZDxzdHJpbmcsIFZhbHVlPiA9IHt9O1xuICBjb25zdCB3YWl0aW5nOiBzdHJpbmdbXSA9IFtdO1xuICBjb25zdCBsb2NhbCA9IChyZWZlcmVuY2U6IHN0cmluZyk6IHN0cmluZyA9PiB7XG4gICAgbGV0IG51bWJlciA9IG51bWJlcnMuZ2V0KHJlZmVyZW5jZSk7XG4gICAgaWYgKG51bWJlciA9PT0gdW5kZWZpbmVkKSB7XG4gICAgICBudW1iZXIgPSBudW1iZXJzLnNpemU7XG4gICAgICBudW1iZXJzLnNldChyZWZlcmVuY2UsIG51bWJlcik7XG4gICAgICB3YWl0aW5nLnB1c2gocmVmZXJlbmNlKTtcbiAgICB9XG4gICAgcmV0dXJuIGAjLyRkZWZzL2Qke251bWJlcn1gO1xuICB9O1xuICBjb25zdCB3aG9sZSA9IGFzSnNvblNjaGVtYShzY2hlbWEsIGxvY2FsKSBhcyBvYmplY3Q7XG4gIGZvciAobGV0IG5leHQgPSB3YWl0aW5nLnNoaWZ0KCk7IG5leHQgIT09IHVuZGVmaW5lZDsgbmV4dCA9IHdhaXRpbmcuc2hpZnQoKSkge1xuICAgIGNvbnN0IGRlZmluaXRpb24gPSBkZWZpbml0aW9ucy5nZXQobmV4dCk7XG4gICAgLy8gV2hhdCBsZWFkcyBub3doZXJlIGFsbG93cyBldmVyeXRoaW5nLlxuICAgICRkZWZzW2BkJHtudW1iZXJzLmdldChuZXh0KX1gXSA9IGRlZmluaXRpb24gPT09IHVuZGVmaW5lZCA/IHt9IDogYXNKc29uU2NoZW1hKGRlZmluaXRpb24sIGxvY2FsKTtcbiAgfVxuICByZXR1cm4gbnVtYmVycy5zaXplID09PSAwID8gd2hvbGUgOiB7IC4uLndob2xlLCAkZGVmcyB9O1xufVxuIiwgIi8qKiBBIHJlcXVlc3QgYWJvdXQgdG8gbGVhdmUsIGFuZCBhbiBhbnN3ZXIgdGhhdCBjYW1lLCBoZWxkIGFnYWluc3QgdGhlIGRvY3VtZW50ZWQgb3BlcmF0aW9uLiAqL1xuaW1wb3J0IHsgYW5zd2VyRm9yIH0gZnJvbSAnLi4vY29sbGVjdGlvbi9kb2N1bWVudGVkLXNjaGVtYS5qcyc7XG5pbXBvcnQgeyB0eXBlIE1pc21hdGNoLCBtaXNtYXRjaGVzLCB0ZXh0TWlzbWF0Y2ggfSBmcm9tICcuLi9kb2N1bWVudGF0aW9uL21pc21hdGNoLmpzJztcbmltcG9ydCB0eXBlIHsgQ29udGVudCwgT3BlcmF0aW9uIH0gZnJvbSAnLi4vZG9jdW1lbnRhdGlvbi9tb2RlbC5qcyc7XG5pbXBvcnQgeyBuZWFyZXN0IH0gZnJvbSAnLi4vcHJvYmxlbS9uZWFyZXN0LmpzJztcbmltcG9ydCB0eXBlIHsgUmVjZWl2ZWQgfSBmcm9tICcuL3JlY2VpdmVkLmpzJztcbmltcG9ydCB0eXBlIHsgUmVzb2x2ZWRSZXF1ZXN0IH0gZnJvbSAnLi93aXJlLmpzJztcblxuLyoqIEluIHRoZSB3b3JkcyBvZiB0aGUgZG9jdW1lbnRhdGlvbjogYCQucHJpY2UgaXMgYSBzdHJpbmcsIGRvY3VtZW50ZWQgYXMgbnVtYmVyYC4gKi9cbmV4cG9ydCBmdW5jdGlvbiByZXF1ZXN0TWlzbWF0Y2hlcyhyZXF1ZXN0OiBSZXNvbHZlZFJlcXVlc3QsIG9wZXJhdGlvbjogT3BlcmF0aW9uKTogcmVhZG9ubHkgTWlzbWF0Y2hbXSB7XG4gIHJldHVybiBbLi4ucXVlcnlNaXNtYXRjaGVzKHJlcXVlc3QsIG9wZXJhdGlvbiksIC4uLmJvZHlNaXNtYXRjaGVzKHJlcXVlc3QsIG9wZXJhdGlvbildO1xufVxuXG5mdW5jdGlvbiBxdWVyeU1pc21hdGNoZXMoeyBxdWVyeSB9OiBSZXNvbHZlZFJlcXVlc3QsIHsgcGFyYW1ldGVycywgcHJvdG9jb2wgfTogT3BlcmF0aW9uKTogTWlzbWF0Y2hbXSB7XG4gIGlmIChwcm90b2NvbCAhPT0gJ2h0dHAnKSByZXR1cm4gW107XG4gIGNvbnN0IGtub3duID0gbmV3IE1hcChwYXJhbWV0ZXJzLmZpbHRlcigob25lKSA9PiBvbmUuaW4gPT09ICdxdWVyeScpLm1hcCgob25lKSA9PiBbb25lLm5hbWUsIG9uZV0pKTtcbiAgcmV0dXJuIHF1ZXJ5LmZsYXRNYXAoKHsgbmFtZSwgdmFsdWUsIHNlY3JldCB9KSA9PiB7XG4gICAgY29uc3QgYmFyZSA9IG5hbWUucmVwbGFjZSgvXFxbW15cXF1dKlxcXSQvLCAnJyk7XG4gICAgY29uc3QgcGFyYW1ldGVyID0ga25vd24uZ2V0KG5hbWUpID8/IGtub3duLmdldChiYXJlKTtcbiAgICBjb25zdCBhdCA9IGBxdWVyeSAke25hbWV9YDtcbiAgICBpZiAoIXBhcmFtZXRlcikge1xuICAgICAgY29uc3QgbmVhciA9IG5lYXJlc3QobmFtZSwgWy4uLmtub3duLmtleXMoKV0pO1xuICAgICAgcmV0dXJuIFt7IGF0LCBwYXRoOiBbbmFtZV0sIHdoYXQ6IGBpcyBub3QgZG9jdW1lbnRlZCR7bmVhciA9PT0gdW5kZWZpbmVkID8gJycgOiBgOyBkb2N1bWVudGVkIGlzICR7bmVhcn1gfWAgfV07XG4gICAgfVxuICAgIGlmIChzZWNyZXQgfHwgcGFyYW1ldGVyLnR5cGUuc3RhcnRzV2l0aCgnb2JqZWN0JykpIHJldHVybiBbXTtcbiAgICBjb25zdCB0ZXh0cyA9IHBhcmFtZXRlci5saXN0cyA9PT0gJ2pvaW5lZCcgPyB2YWx1ZS5zcGxpdCgnLCcpIDogW3ZhbHVlXTtcbiAgICByZXR1cm4gdGV4dHMuZmxhdE1hcCgodGV4dCkgPT4ge1xuICAgICAgY29uc3Qgd2hhdCA9IHRleHRNaXNtYXRjaCh0ZXh0LCBwYXJhbWV0ZXIpO1xuICAgICAgcmV0dXJuIHdoYXQgPT09IHVuZGVmaW5lZCA/IFtdIDogW3sgYXQsIHBhdGg6IFtuYW1lXSwgd2hhdCB9XTtcbiAgICB9KTtcbiAgfSk7XG59XG5cbmZ1bmN0aW9uIGJvZHlNaXNtYXRjaGVzKFxuICB7IGJvZHkgfTogUmVzb2x2ZWRSZXF1ZXN0LFxuICB7IHBhcmFtZXRlcnMsIGJvZHk6IGRvY3VtZW50ZWQsIHByb3RvY29sIH06IE9wZXJhdGlvbixcbik6IHJlYWRvbmx5IE1pc21hdGNoW10ge1xuICBpZiAoIWJvZHkgfHwgYm9keS5zdHJlYW1lZCB8fCAhL1svK11qc29uXFxiLy50ZXN0KGJvZHkudHlwZSkpIHJldHVybiBbXTtcbiAgbGV0IHZhbHVlOiB1bmtub3duO1xuICB0cnkge1xuICAgIHZhbHVlID0gSlNPTi5wYXJzZShCdWZmZXIuZnJvbShib2R5LmJ5dGVzKS50b1N0cmluZygndXRmOCcpKTtcbiAgfSBjYXRjaCB7XG4gICAgcmV0dXJuIFtdO1xuICB9XG4gIGlmIChwcm90b2NvbCA9PT0gJ2dyYXBocWwnKSB7XG4gICAgY29uc3QgeyB2YXJpYWJsZXMgPSB7fSB9ID0gdmFsdWUgYXMgeyB2YXJpYWJsZXM/OiB1bmtub3duIH07XG4gICAgcmV0dXJuIG1pc21hdGNoZXModmFyaWFibGVzLCBwYXJhbWV0ZXJzKS5tYXAoKG9uZSkgPT4gKHsgLi4ub25lLCBhdDogb25lLmF0LnJlcGxhY2UoL15cXCQvLCAndmFyaWFibGVzJykgfSkpO1xuICB9XG4gIHJldHVybiBkb2N1bWVudGVkICYmIC9bLytdanNvblxcYi8udGVzdChkb2N1bWVudGVkLnR5cGUpID8gY29udGVudE1pc21hdGNoZXModmFsdWUsIGRvY3VtZW50ZWQsIGZhbHNlKSA6IFtdO1xufVxuXG5mdW5jdGlvbiBjb250ZW50TWlzbWF0Y2hlcyh2YWx1ZTogdW5rbm93biwgeyBmaWVsZHMsIGFsdGVybmF0aXZlcyB9OiBDb250ZW50LCBhbnN3ZXI6IGJvb2xlYW4pOiByZWFkb25seSBNaXNtYXRjaFtdIHtcbiAgaWYgKCFhbHRlcm5hdGl2ZXMpIHJldHVybiBtaXNtYXRjaGVzKHZhbHVlLCBmaWVsZHMsIHsgYW5zd2VyIH0pO1xuICBjb25zdCB0cmllZCA9IGFsdGVybmF0aXZlcy5tYXAoKG9uZSkgPT4gbWlzbWF0Y2hlcyh2YWx1ZSwgb25lLmZpZWxkcywgeyBhbnN3ZXIgfSkpO1xuICByZXR1cm4gdHJpZWQuc29ydCgoYSwgYikgPT4gYS5sZW5ndGggLSBiLmxlbmd0aClbMF0gPz8gW107XG59XG5cbi8qKiBXaGF0IHRoZSBkb2N1bWVudGF0aW9uIGRvZXMgbm90IGtub3cgb2YgYW4gYW5zd2VyOiBpdHMgc3RhdHVzLCBpdHMgZmllbGRzLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGFuc3dlck1pc21hdGNoZXMocmVjZWl2ZWQ6IFJlY2VpdmVkLCBvcGVyYXRpb246IE9wZXJhdGlvbik6IHJlYWRvbmx5IE1pc21hdGNoW10ge1xuICBjb25zdCBkb2N1bWVudGVkID0gYW5zd2VyRm9yKG9wZXJhdGlvbiwgcmVjZWl2ZWQuc3RhdHVzKTtcbiAgaWYgKCFkb2N1bWVudGVkKSB7XG4gICAgY29uc3Qga25vd24gPSBvcGVyYXRpb24uYW5zd2Vycy5tYXAoKHsgc3RhdHVzIH0pID0+IHN0YXR1cykuam9pbignLCAnKTtcbiAgICByZXR1cm4gW3sgYXQ6ICdzdGF0dXMnLCBwYXRoOiBbXSwgd2hhdDogYGlzICR7cmVjZWl2ZWQuc3RhdHVzfSwgZG9jdW1lbnRlZCBhcmUgJHtrbm93biA9PT0gJycgPyAnbm9uZScgOiBrbm93bn1gIH1dO1xuICB9XG4gIGlmICghZG9jdW1lbnRlZC5jb250ZW50IHx8ICFyZWNlaXZlZC5jbGFpbXNKc29uIHx8IHJlY2VpdmVkLnNpemUgPT09IDApIHJldHVybiBbXTtcbiAgY29uc3QgYm9keTogdW5rbm93biA9IHJlY2VpdmVkLmpzb24oKTtcbiAgaWYgKG9wZXJhdGlvbi5ncmFwaHFsKSB7XG4gICAgY29uc3QgZGF0YSA9IChib2R5IGFzIHsgZGF0YT86IFJlY29yZDxzdHJpbmcsIHVua25vd24+IH0gfCBudWxsKT8uZGF0YT8uW29wZXJhdGlvbi5ncmFwaHFsLmZpZWxkXTtcbiAgICAvLyBPbmx5IHdoYXQgd2FzIGFza2VkIGZvciBjb21lcyBiYWNrLCBzbyB0aGF0IG5vdGhpbmcgaXMgbWlzc2luZyB0aGVyZS5cbiAgICByZXR1cm4gY29udGVudE1pc21hdGNoZXMoZGF0YSwgZG9jdW1lbnRlZC5jb250ZW50LCB0cnVlKS5maWx0ZXIoKHsgd2hhdCB9KSA9PiAhd2hhdC5lbmRzV2l0aCgnbWlzc2luZycpKTtcbiAgfVxuICByZXR1cm4gY29udGVudE1pc21hdGNoZXMoYm9keSwgZG9jdW1lbnRlZC5jb250ZW50LCB0cnVlKTtcbn1cbiIsICIvKiogRnJvbSBhIHJlcXVlc3QgcGxhbiB0byBhIHJlc29sdmVkIHJlcXVlc3Q6IGV2ZXJ5IG5hbWUgd29ya2VkIG91dCwgZm9yIGVhY2ggc2VuZGluZyBhbmV3LiAqL1xuaW1wb3J0IHR5cGUgeyBSZXF1ZXN0RmlsZSB9IGZyb20gJy4uL2NvbGxlY3Rpb24vZmlsZXMvcmVxdWVzdC1maWxlLmpzJztcbmltcG9ydCB7IElucHV0TmFtZXMsIG1pc3NpbmdJbnB1dCB9IGZyb20gJy4uL2NvbGxlY3Rpb24vaW5wdXRzLmpzJztcbmltcG9ydCB7IHR5cGUgTGF5ZXJzLCB2YXJpYWJsZU5hbWVzIH0gZnJvbSAnLi4vY29sbGVjdGlvbi9sYXllcnMuanMnO1xuaW1wb3J0IHsgRXZhbHVhdGlvbiwgb21pdHRlZCwgdHlwZSBTdXJyb3VuZGluZ3MgfSBmcm9tICcuLi9leHByZXNzaW9uL2V2YWx1YXRpb24uanMnO1xuaW1wb3J0IHsgbGF5ZXJlZCwgdHlwZSBOYW1lZCwgdHlwZSBOYW1lcyB9IGZyb20gJy4uL2V4cHJlc3Npb24vbmFtZXMuanMnO1xuaW1wb3J0IHR5cGUgeyBTZWNyZXRUcmFjZSwgVHJlZSB9IGZyb20gJy4uL2V4cHJlc3Npb24vdHJlZS5qcyc7XG5pbXBvcnQgeyBhc1Byb2JsZW0sIFByb2JsZW0gfSBmcm9tICcuLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgaXNWYWx1ZU1hcCwgdHlwZSBWYWx1ZSB9IGZyb20gJy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHsgdHlwZSBDb25uZWN0aW9uLCB0eXBlIENvbm5lY3Rpb25QbGFuLCBwbGFpbkNvbm5lY3Rpb24gfSBmcm9tICcuL2Nvbm5lY3Rpb24uanMnO1xuaW1wb3J0IHsgY2hlY2tIZWFkZXIgfSBmcm9tICcuL2hlYWRlci1ydWxlcy5qcyc7XG5pbXBvcnQgdHlwZSB7IFBsYW5uZWRWYWx1ZSwgUmVxdWVzdFBsYW4gfSBmcm9tICcuL3JlcXVlc3QtcGxhbi5qcyc7XG5pbXBvcnQgdHlwZSB7IEhlYWRlckxpbmUsIFF1ZXJ5UGFpciwgUmVzb2x2ZWRSZXF1ZXN0LCBUaW1lb3V0IH0gZnJvbSAnLi93aXJlLmpzJztcbmltcG9ydCB7IGxpbmVzT2YsIHdhbnRUZXh0IH0gZnJvbSAnLi93cml0dGVuLWxpbmVzLmpzJztcblxuY29uc3Qgbm9uZTogUmVhZG9ubHlNYXA8c3RyaW5nLCBOYW1lZD4gPSBuZXcgTWFwKCk7XG5cbi8qKiBXaGF0IGEgc2VuZGluZyBicmluZ3Mgd2l0aCBpdC4gKi9cbmV4cG9ydCBpbnRlcmZhY2UgR2l2aW5nIGV4dGVuZHMgU3Vycm91bmRpbmdzIHtcbiAgcmVhZG9ubHkgbGF5ZXJzOiBMYXllcnM7XG4gIC8qKiBBIHZhbHVlIHRoYXQgdGhlIGNhbGxlciBoYXMgZm9yIGFuIGlucHV0LiAqL1xuICByZWFkb25seSBnaXZlbjogKGlucHV0OiBzdHJpbmcpID0+IE5hbWVkIHwgdW5kZWZpbmVkO1xuICAvKiogVGhlIG5hbWVzIG9mIHRoZSBjYWxsZXIsIHdoaWNoIHRoZSBlbnZpcm9ubWVudCdzIHZhbHVlcyBtYXkgdXNlLiAqL1xuICByZWFkb25seSBjYWxsZXI6IE5hbWVzO1xuICByZWFkb25seSB0aW1lb3V0OiBQYXJ0aWFsPFRpbWVvdXQ+O1xuICAvKiogV2hhdCBzZXNzaW9ucyBzdXBwbHk7IHNlZW4gYWZ0ZXIgdGhlIGlucHV0cy4gKi9cbiAgcmVhZG9ubHkgc3VwcGxpZWQ/OiBOYW1lcyB8IHVuZGVmaW5lZDtcbiAgLyoqIEhvdyB0aGUgZW52aXJvbm1lbnQgd2FudHMgY29ubmVjdGlvbnMgdG8gYmUgbWFkZS4gKi9cbiAgcmVhZG9ubHkgY29ubmVjdGlvbj86IENvbm5lY3Rpb25QbGFuIHwgdW5kZWZpbmVkO1xuICAvKiogSW4gcGxhY2Ugb2YgdGhlIG9uZSB0aGF0IHdvdWxkIGJlIHdvcmtlZCBvdXQsIGl0cyBxdWVyeSBpbmNsdWRlZC4gKi9cbiAgcmVhZG9ubHkgYWRkcmVzcz86IHN0cmluZyB8IHVuZGVmaW5lZDtcbiAgLyoqIEluIHBsYWNlIG9mIHRoZSBvbmUgdGhhdCB3b3VsZCBiZSBtYWRlOiBvZiBhIGNhbGwgdGhhdCBtYXkgaGF2ZSBiZWVuIGRvbmUgYWxyZWFkeS4gKi9cbiAgcmVhZG9ubHkgaWRlbXBvdGVuY3lLZXk/OiBzdHJpbmcgfCB1bmRlZmluZWQ7XG4gIC8qKiBMaXN0cyBldmVyeSBuYW1lIHdpdGggaXRzIG9yaWdpbiwgZm9yIGEgcHJldmlldy4gKi9cbiAgcmVhZG9ubHkgd2l0aE9yaWdpbnM/OiBib29sZWFuO1xufVxuXG5leHBvcnQgaW50ZXJmYWNlIFJlc29sdXRpb24ge1xuICByZWFkb25seSByZXF1ZXN0OiBSZXNvbHZlZFJlcXVlc3Q7XG4gIC8qKiBUaGUgbmFtZXMgdGhhdCB0aGUgcmVxdWVzdCBzZWVzLCBmb3IgaXRzIGV4cGVjdGF0aW9ucy4gKi9cbiAgcmVhZG9ubHkgbmFtZXM6IE5hbWVzO1xuICAvKiogSXRzIGlucHV0cywgYXMgZmFyIGFzIHRoZXkgd2VyZSB1c2VkLiAqL1xuICByZWFkb25seSBpbnB1dHM6IFJlYWRvbmx5TWFwPHN0cmluZywgTmFtZWQgfCB1bmRlZmluZWQ+O1xufVxuXG4vKiogQHRocm93cyBQcm9ibGVtIHVua25vd24tbmFtZSwgaW5wdXQtbWlzc2luZywgaW5wdXQtdmFsdWUsIHNlY3JldC1taXNzaW5nIGFuZCBhbGwgdGhhdCBldmFsdWF0aW9uIG1heSB0aHJvdyAqL1xuZXhwb3J0IGZ1bmN0aW9uIHJlc29sdmVSZXF1ZXN0KHBsYW46IFJlcXVlc3RQbGFuLCBnaXZpbmc6IEdpdmluZyk6IFJlc29sdXRpb24ge1xuICBjb25zdCB1c2VkID0gZ2l2aW5nLndpdGhPcmlnaW5zID8gbmV3IE1hcDxzdHJpbmcsIE5hbWVkPigpIDogdW5kZWZpbmVkO1xuICBjb25zdCB2YXJpYWJsZXMgPSB2YXJpYWJsZU5hbWVzKGdpdmluZy5sYXllcnMsIGdpdmluZy5jYWxsZXIsIGdpdmluZyk7XG4gIGNvbnN0IGlucHV0cyA9IG5ldyBJbnB1dE5hbWVzKHBsYW4uaW5wdXRzLCBnaXZpbmcuZ2l2ZW4sIHZhcmlhYmxlcywgZ2l2aW5nKTtcbiAgY29uc3QgbmFtZXMgPSBnaXZpbmcuc3VwcGxpZWQgPyBsYXllcmVkKGlucHV0cywgZ2l2aW5nLnN1cHBsaWVkLCB2YXJpYWJsZXMpIDogbGF5ZXJlZChpbnB1dHMsIHZhcmlhYmxlcyk7XG4gIGNvbnN0IGV2YWx1YXRpb24gPSBuZXcgRXZhbHVhdGlvbihuYW1lcywgZ2l2aW5nLCB1c2VkICYmICgobmFtZSwgbmFtZWQpID0+IHVzZWQuc2V0KG5hbWUsIG5hbWVkKSkpO1xuICB0cnkge1xuICAgIGNvbnN0IGNvbm5lY3Rpb24gPVxuICAgICAgZ2l2aW5nLmNvbm5lY3Rpb24/LigoKSA9PiBuZXcgRXZhbHVhdGlvbihsYXllcmVkKHZhcmlhYmxlcywgZ2l2aW5nLmNhbGxlciksIGdpdmluZykpID8/IHBsYWluQ29ubmVjdGlvbjtcbiAgICBjb25zdCByZXF1ZXN0ID0gcmVzb2x2ZVBhcnRzKHBsYW4sIGdpdmluZywgZXZhbHVhdGlvbiwgY29ubmVjdGlvbiwgdXNlZCk7XG4gICAgcmV0dXJuIHsgcmVxdWVzdCwgbmFtZXMsIGlucHV0czogaW5wdXRzLnVzZWQoKSB9O1xuICB9IGNhdGNoIChlcnJvcikge1xuICAgIHRocm93IG1pc3NpbmdBc0lucHV0KHBsYW4sIGFzUHJvYmxlbShlcnJvcikpO1xuICB9XG59XG5cbi8qKiBBbiB1bmtub3duIG5hbWUgdGhhdCBpcyBhIGRlY2xhcmVkIGlucHV0IGlzIGEgbWlzc2luZyBpbnB1dCwgd2hpY2ggc2F5cyBtb3JlLiAqL1xuZnVuY3Rpb24gbWlzc2luZ0FzSW5wdXQocGxhbjogUmVxdWVzdFBsYW4sIHByb2JsZW06IFByb2JsZW0pOiBQcm9ibGVtIHtcbiAgY29uc3QgaW5wdXQgPVxuICAgIHByb2JsZW0uY29kZSA9PT0gJ3Vua25vd24tbmFtZScgPyBwbGFuLmlucHV0cy5maW5kKCh7IG5hbWUgfSkgPT4gbmFtZSA9PT0gcHJvYmxlbS5kYXRhLm5hbWUpIDogdW5kZWZpbmVkO1xuICByZXR1cm4gaW5wdXQgJiYgISgnbWVtYmVyJyBpbiBwcm9ibGVtLmRhdGEpID8gbWlzc2luZ0lucHV0KGlucHV0KSA6IHByb2JsZW07XG59XG5cbmZ1bmN0aW9uIHJlc29sdmVQYXJ0cyhcbiAgcGxhbjogUmVxdWVzdFBsYW4sXG4gIGdpdmluZzogR2l2aW5nLFxuICBldmFsdWF0aW9uOiBFdmFsdWF0aW9uLFxuICBjb25uZWN0aW9uOiBDb25uZWN0aW9uLFxuICB1c2VkOiBSZWFkb25seU1hcDxzdHJpbmcsIE5hbWVkPiB8IHVuZGVmaW5lZCxcbik6IFJlc29sdmVkUmVxdWVzdCB7XG4gIGNvbnN0IHBhZ2VkID0gZ2l2aW5nLmFkZHJlc3M7XG4gIGNvbnN0IHBhcnRPZiA9IChwYXJ0OiBzdHJpbmcpOiBWYWx1ZSB8IHVuZGVmaW5lZCA9PiB7XG4gICAgY29uc3Qgb3duID0gcGxhbi5wYXRoLmdldChwYXJ0KT8uZXZhbHVhdGUoZXZhbHVhdGlvbik7XG4gICAgaWYgKG93biA9PT0gb21pdHRlZCkgcmV0dXJuIHVuZGVmaW5lZDtcbiAgICBpZiAob3duICE9PSB1bmRlZmluZWQpIHJldHVybiBvd247XG4gICAgY29uc3QgaW5wdXQgPSBldmFsdWF0aW9uLm5hbWVzLmxvb2t1cChwYXJ0KTtcbiAgICBpZiAoaW5wdXQgJiYgcGxhbi5pbnB1dHMuc29tZSgoeyBuYW1lIH0pID0+IG5hbWUgPT09IHBhcnQpKSB7XG4gICAgICBldmFsdWF0aW9uLm9uTmFtZT8uKHBhcnQsIGlucHV0KTtcbiAgICAgIGlmIChpbnB1dC5zZWNyZXQpIGV2YWx1YXRpb24udG91Y2hlZFNlY3JldCA9IHRydWU7XG4gICAgICByZXR1cm4gaW5wdXQudmFsdWU7XG4gICAgfVxuICAgIHJldHVybiB1bmRlZmluZWQ7XG4gIH07XG4gIGNvbnN0IGFkZHJlc3MgPSBwYWdlZCA/PyBwbGFuLmFkZHJlc3MuZXZhbHVhdGUoZXZhbHVhdGlvbiwgcGFydE9mKTtcbiAgY29uc3QgYWRkcmVzc1NlY3JldCA9IGV2YWx1YXRpb24udG91Y2hlZFNlY3JldDtcbiAgY29uc3QgbGlzdHMgPSBwbGFuLmNvbnRlbnQubGlzdHMgPz8gJ3JlcGVhdGVkJztcbiAgY29uc3QgcXVlcnkgPSBwYWdlZCA9PT0gdW5kZWZpbmVkID8gcGxhbi5xdWVyeS5mbGF0TWFwKCh2YWx1ZSkgPT4gcXVlcnlQYWlycyh2YWx1ZSwgbGlzdHMsIGV2YWx1YXRpb24pKSA6IFtdO1xuICBjb25zdCBvd24gPSBwbGFuLmZpeGVkSGVhZGVycyA/PyBwbGFuLmhlYWRlcnMuZmxhdE1hcCgodmFsdWUpID0+IGhlYWRlckxpbmVzKHZhbHVlLCBldmFsdWF0aW9uKSk7XG4gIGNvbnN0IGNvb2tpZSA9IHBsYW4uY29va2llcy5zaXplID4gMCA/IGNvb2tpZUxpbmUocGxhbiwgZXZhbHVhdGlvbikgOiB1bmRlZmluZWQ7XG4gIGNvbnN0IGtleSA9IHBsYW4uaWRlbXBvdGVuY3lLZXkgJiYga2V5TGluZShwbGFuLmlkZW1wb3RlbmN5S2V5LCBnaXZpbmcuaWRlbXBvdGVuY3lLZXksIGV2YWx1YXRpb24pO1xuICBjb25zdCBoZWFkZXJzID0gY29va2llIHx8IGtleSA/IFsuLi5vd24sIC4uLihjb29raWUgPyBbY29va2llXSA6IFtdKSwgLi4uKGtleSA/IFtrZXldIDogW10pXSA6IG93bjtcbiAgZXZhbHVhdGlvbi50b3VjaGVkU2VjcmV0ID0gZmFsc2U7XG4gIGNvbnN0IG1hZGUgPSBwbGFuLmJvZHk/LihldmFsdWF0aW9uKTtcbiAgY29uc3QgYm9keSA9IG1hZGU/LmFzUXVlcnkgPyB1bmRlZmluZWQgOiBtYWRlO1xuICBxdWVyeS5wdXNoKC4uLihtYWRlPy5hc1F1ZXJ5ID8/IFtdKSk7XG4gIGNvbnN0IHsgcmVkaXJlY3RzIH0gPSBwbGFuLmNvbnRlbnQ7XG4gIHJldHVybiB7XG4gICAgbmFtZTogcGxhbi5uYW1lLFxuICAgIG9wZXJhdGlvbjogcGxhbi5jb250ZW50Lm9wZXJhdGlvbixcbiAgICBtZXRob2Q6IHBsYW4ubWV0aG9kLFxuICAgIGFkZHJlc3MsXG4gICAgcXVlcnksXG4gICAgaGVhZGVycyxcbiAgICBib2R5LFxuICAgIHNlc3Npb25zOiBwbGFuLnNlc3Npb25zLFxuICAgIGNoYW5nZXM6IHBsYW4uY2hhbmdlcyxcbiAgICByZWRpcmVjdHM6IHJlZGlyZWN0cyA9PT0gJ25vbmUnID8gMCA6IHJlZGlyZWN0cyxcbiAgICBjb25uZWN0aW9uLFxuICAgIHRpbWVvdXQ6IHRpbWVvdXRGb3IocGxhbiwgZ2l2aW5nLnRpbWVvdXQpLFxuICAgIG5hbWVzOiB1c2VkID8/IG5vbmUsXG4gICAgaWRlbXBvdGVuY3lLZXk6IGtleT8udmFsdWUsXG4gICAgc2VjcmV0OlxuICAgICAgYWRkcmVzc1NlY3JldCB8fFxuICAgICAgcXVlcnkuc29tZSgoeyBzZWNyZXQgfSkgPT4gc2VjcmV0KSB8fFxuICAgICAgaGVhZGVycy5zb21lKCh7IHNlY3JldCB9KSA9PiBzZWNyZXQpIHx8XG4gICAgICAoYm9keT8uc2VjcmV0ID8/IGZhbHNlKSxcbiAgfTtcbn1cblxuY29uc3QgdGltZW91dHMgPSBuZXcgV2Vha01hcDxSZXF1ZXN0UGxhbiwgeyByZWFkb25seSBvdmVyOiBQYXJ0aWFsPFRpbWVvdXQ+OyByZWFkb25seSB0aW1lb3V0OiBUaW1lb3V0IH0+KCk7XG5cbi8qKiBUaGUgc2FtZSBmb3IgZXZlcnkgc2VuZGluZyBvZiBhIHJlcXVlc3QgaW4gb25lIGVudmlyb25tZW50LiAqL1xuZnVuY3Rpb24gdGltZW91dEZvcihwbGFuOiBSZXF1ZXN0UGxhbiwgb3ZlcjogUGFydGlhbDxUaW1lb3V0Pik6IFRpbWVvdXQge1xuICBjb25zdCBrbm93biA9IHRpbWVvdXRzLmdldChwbGFuKTtcbiAgaWYgKGtub3duPy5vdmVyID09PSBvdmVyKSByZXR1cm4ga25vd24udGltZW91dDtcbiAgY29uc3QgdGltZW91dCA9IHsgY29ubmVjdDogMTBfMDAwLCB0b3RhbDogNjBfMDAwLCAuLi5vdmVyLCAuLi5wbGFuLnRpbWVvdXQgfTtcbiAgdGltZW91dHMuc2V0KHBsYW4sIHsgb3ZlciwgdGltZW91dCB9KTtcbiAgcmV0dXJuIHRpbWVvdXQ7XG59XG5cbmZ1bmN0aW9uIGtleUxpbmUoXG4gIHsgaGVhZGVyLCB0cmVlIH06IE5vbk51bGxhYmxlPFJlcXVlc3RQbGFuWydpZGVtcG90ZW5jeUtleSddPixcbiAgZ2l2ZW46IHN0cmluZyB8IHVuZGVmaW5lZCxcbiAgZXZhbHVhdGlvbjogRXZhbHVhdGlvbixcbik6IEhlYWRlckxpbmUge1xuICBjb25zdCB7IHZhbHVlLCBzZWNyZXQgfSA9IGdpdmVuID09PSB1bmRlZmluZWQgPyB0cmFjZWQodHJlZSwgZXZhbHVhdGlvbikgOiB7IHZhbHVlOiBnaXZlbiwgc2VjcmV0OiBmYWxzZSB9O1xuICBjb25zdCB0ZXh0ID0gd2FudFRleHQoJ2lkZW1wb3RlbmN5IGtleSBpbicsIGhlYWRlciwgdmFsdWUgPz8gbnVsbCk7XG4gIGNoZWNrSGVhZGVyKGhlYWRlciwgdGV4dCwgdW5kZWZpbmVkKTtcbiAgcmV0dXJuIHsgbmFtZTogaGVhZGVyLCB2YWx1ZTogdGV4dCwgb3JpZ2luOiAnaWRlbXBvdGVuY3kta2V5Jywgc2VjcmV0IH07XG59XG5cbmZ1bmN0aW9uIHRyYWNlZCh0cmVlOiBUcmVlLCBldmFsdWF0aW9uOiBFdmFsdWF0aW9uKTogeyB2YWx1ZTogVmFsdWUgfCB1bmRlZmluZWQ7IHNlY3JldDogYm9vbGVhbiB9IHtcbiAgY29uc3QgdHJhY2U6IFNlY3JldFRyYWNlID0geyBwYXRoOiBbXSwgc2VjcmV0OiBbXSB9O1xuICBjb25zdCB2YWx1ZSA9IHRyZWUuZXZhbHVhdGUoZXZhbHVhdGlvbiwgdHJhY2UpO1xuICByZXR1cm4geyB2YWx1ZTogdmFsdWUgPT09IG9taXR0ZWQgPyB1bmRlZmluZWQgOiB2YWx1ZSwgc2VjcmV0OiB0cmFjZS5zZWNyZXQubGVuZ3RoID4gMCB9O1xufVxuXG5mdW5jdGlvbiBxdWVyeVBhaXJzKFxuICB7IG5hbWUsIHRyZWUgfTogUGxhbm5lZFZhbHVlLFxuICBsaXN0czogTm9uTnVsbGFibGU8UmVxdWVzdEZpbGVbJ2xpc3RzJ10+LFxuICBldmFsdWF0aW9uOiBFdmFsdWF0aW9uLFxuKTogUXVlcnlQYWlyW10ge1xuICBjb25zdCB7IHZhbHVlLCBzZWNyZXQgfSA9IHRyYWNlZCh0cmVlLCBldmFsdWF0aW9uKTtcbiAgaWYgKHZhbHVlID09PSB1bmRlZmluZWQpIHJldHVybiBbXTtcbiAgaWYgKGlzVmFsdWVNYXAodmFsdWUpKSByZXR1cm4gZGVlcFBhaXJzKG5hbWUsIHZhbHVlLCBzZWNyZXQpO1xuICBpZiAoIUFycmF5LmlzQXJyYXkodmFsdWUpKSByZXR1cm4gW3sgbmFtZSwgdmFsdWU6IHdhbnRUZXh0KCdxdWVyeSBwYXJhbWV0ZXInLCBuYW1lLCB2YWx1ZSksIHNlY3JldCB9XTtcbiAgY29uc3QgaXRlbXMgPSB2YWx1ZS5tYXAoKGl0ZW06IFZhbHVlKSA9PiB3YW50VGV4dCgncXVlcnkgcGFyYW1ldGVyJywgbmFtZSwgaXRlbSkpO1xuICBpZiAobGlzdHMgPT09ICdqb2luZWQnKSByZXR1cm4gaXRlbXMubGVuZ3RoID09PSAwID8gW10gOiBbeyBuYW1lLCB2YWx1ZTogaXRlbXMuam9pbignLCcpLCBzZWNyZXQgfV07XG4gIGNvbnN0IGtleSA9IGxpc3RzID09PSAnYnJhY2tldGVkJyA/IGAke25hbWV9W11gIDogbmFtZTtcbiAgcmV0dXJuIGl0ZW1zLm1hcCgoaXRlbTogc3RyaW5nKSA9PiAoeyBuYW1lOiBrZXksIHZhbHVlOiBpdGVtLCBzZWNyZXQgfSkpO1xufVxuXG4vKiogQmVzaWRlIHRob3NlIG9mIHRoZSBqYXIgKFJGQyA2MjY1IHNlY3Rpb24gNC4yKS4gQHRocm93cyBQcm9ibGVtIGhlYWRlci1zaGFwZSAqL1xuZnVuY3Rpb24gY29va2llTGluZSh7IGNvb2tpZXMsIG5hbWU6IHJlcXVlc3QgfTogUmVxdWVzdFBsYW4sIGV2YWx1YXRpb246IEV2YWx1YXRpb24pOiBIZWFkZXJMaW5lIHwgdW5kZWZpbmVkIHtcbiAgY29uc3QgcGFpcnM6IHN0cmluZ1tdID0gW107XG4gIGxldCBhbnlTZWNyZXQgPSBmYWxzZTtcbiAgZm9yIChjb25zdCBbbmFtZSwgdHJlZV0gb2YgY29va2llcykge1xuICAgIGNvbnN0IHsgdmFsdWUsIHNlY3JldCB9ID0gdHJhY2VkKHRyZWUsIGV2YWx1YXRpb24pO1xuICAgIGlmICh2YWx1ZSA9PT0gdW5kZWZpbmVkKSBjb250aW51ZTtcbiAgICBjb25zdCB0ZXh0ID0gd2FudFRleHQoJ2Nvb2tpZScsIG5hbWUsIHZhbHVlKTtcbiAgICBpZiAoIS9eWyEjLStcXC0tOjwtW1xcXS1+XSokLy50ZXN0KHRleHQpKSB7XG4gICAgICB0aHJvdyBuZXcgUHJvYmxlbSgnaGVhZGVyLXNoYXBlJywge1xuICAgICAgICB3aGF0OiBgdGhlIGNvb2tpZSAke25hbWV9IGhvbGRzIGEgc3BhY2UsIGEgcXVvdGUsIGEgY29tbWEsIGEgc2VtaWNvbG9uIG9yIGEgYmFja3NsYXNoYCxcbiAgICAgICAgcmVtZWR5OiAnfCBwZXJjZW50IG9yIHwgYmFzZTY0IHdyaXRlcyBpdCBhcyBhIGNvb2tpZSBjYW4gaG9sZCBpdCwgaWYgdGhlIHZlbmRvciByZWFkcyBpdCBzbycsXG4gICAgICB9KTtcbiAgICB9XG4gICAgcGFpcnMucHVzaChgJHtuYW1lfT0ke3RleHR9YCk7XG4gICAgYW55U2VjcmV0IHx8PSBzZWNyZXQ7XG4gIH1cbiAgaWYgKHBhaXJzLmxlbmd0aCA9PT0gMCkgcmV0dXJuIHVuZGVmaW5lZDtcbiAgcmV0dXJuIHsgbmFtZTogJ0Nvb2tpZScsIHZhbHVlOiBwYWlycy5qb2luKCc7ICcpLCBvcmlnaW46IGByZXF1ZXN0ICR7cmVxdWVzdH1gLCBzZWNyZXQ6IGFueVNlY3JldCB9O1xufVxuXG4vKiogQSBtYXAgYXMgT3BlbkFQSSdzIGRlZXBPYmplY3Qgd3JpdGVzIGl0OiBgYmVydGhbcXVheV09bm9ydGhgLiAqL1xuZnVuY3Rpb24gZGVlcFBhaXJzKG5hbWU6IHN0cmluZywgdmFsdWU6IFZhbHVlLCBzZWNyZXQ6IGJvb2xlYW4pOiBRdWVyeVBhaXJbXSB7XG4gIGlmIChpc1ZhbHVlTWFwKHZhbHVlKSlcbiAgICByZXR1cm4gT2JqZWN0LmVudHJpZXModmFsdWUpLmZsYXRNYXAoKFtrZXksIGlubmVyXSkgPT4gZGVlcFBhaXJzKGAke25hbWV9WyR7a2V5fV1gLCBpbm5lciwgc2VjcmV0KSk7XG4gIGNvbnN0IGl0ZW1zID0gQXJyYXkuaXNBcnJheSh2YWx1ZSkgPyAodmFsdWUgYXMgcmVhZG9ubHkgVmFsdWVbXSkgOiBbdmFsdWVdO1xuICByZXR1cm4gaXRlbXMubWFwKChpdGVtKSA9PiAoeyBuYW1lLCB2YWx1ZTogd2FudFRleHQoJ3F1ZXJ5IHBhcmFtZXRlcicsIG5hbWUsIGl0ZW0pLCBzZWNyZXQgfSkpO1xufVxuXG5mdW5jdGlvbiBoZWFkZXJMaW5lcyh7IG5hbWUsIHRyZWUsIG9yaWdpbiwgZml4ZWQgfTogUGxhbm5lZFZhbHVlLCBldmFsdWF0aW9uOiBFdmFsdWF0aW9uKTogcmVhZG9ubHkgSGVhZGVyTGluZVtdIHtcbiAgaWYgKGZpeGVkKSByZXR1cm4gZml4ZWQ7XG4gIGNvbnN0IHsgdmFsdWUsIHNlY3JldCB9ID0gdHJhY2VkKHRyZWUsIGV2YWx1YXRpb24pO1xuICByZXR1cm4gdmFsdWUgPT09IHVuZGVmaW5lZCA/IFtdIDogbGluZXNPZihuYW1lLCB2YWx1ZSwgb3JpZ2luLCBzZWNyZXQpO1xufVxuIiwgIi8qKiBOYW1lcyB0aGF0IHNlc3Npb25zIHN1cHBseSB0byB0aGUgcmVxdWVzdHMgdGhhdCB1c2UgdGhlbSwgYW5kIGFuc3dlcnMgdGhhdCByZWZ1c2UgYSBzZXNzaW9uIGluIHRoZWlyIG93biB3b3Jkcy4gKi9cbmltcG9ydCB0eXBlIHsgUmVjZWl2ZWQgfSBmcm9tICcuLi9leGNoYW5nZS9yZWNlaXZlZC5qcyc7XG5pbXBvcnQgeyBjb21waWxlRXhwZWN0YXRpb25zLCB0eXBlIEV4cGVjdGF0aW9uLCBqdWRnZSB9IGZyb20gJy4uL2V4cGVjdGF0aW9uL2V4cGVjdGF0aW9ucy5qcyc7XG5pbXBvcnQgdHlwZSB7IExvYWRzIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi9jb21waWxlLmpzJztcbmltcG9ydCB7IEV2YWx1YXRpb24sIG9taXR0ZWQgfSBmcm9tICcuLi9leHByZXNzaW9uL2V2YWx1YXRpb24uanMnO1xuaW1wb3J0IHsgdHlwZSBOYW1lZCwgdHlwZSBOYW1lcywgbm9OYW1lcyB9IGZyb20gJy4uL2V4cHJlc3Npb24vbmFtZXMuanMnO1xuaW1wb3J0IHsgbmFtZXNPZiB9IGZyb20gJy4uL3Nlc3Npb24vdG9rZW4taGVhZGVycy5qcyc7XG5pbXBvcnQgdHlwZSB7IFdvcmtzcGFjZSB9IGZyb20gJy4vd29ya3NwYWNlLmpzJztcblxuLyoqIFdoYXQgc3RhbmRzIGluIGEgcHJldmlldyBmb3Igd2hhdCBvbmx5IGFuIG9wZW4gc2Vzc2lvbiBrbm93cy4gKi9cbmNvbnN0IG5vdE9wZW5ZZXQgPSAnKGtub3duIHdoZW4gdGhlIHNlc3Npb24gaXMgb3BlbiknO1xuXG4vKiogQHBhcmFtIG9wZW5pbmcgb3BlbnMgd2hhdCBpcyBub3Qgb3BlbiBAcmV0dXJucyB1bmRlZmluZWQgd2hlcmUgbm8gc2Vzc2lvbiBzdXBwbGllcyBhbnl0aGluZyAqL1xuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIHN1cHBsaWVkTmFtZXMoXG4gIHdvcmtzcGFjZTogV29ya3NwYWNlLFxuICBzZXNzaW9uczogcmVhZG9ubHkgc3RyaW5nW10sXG4gIG9wZW5pbmc6IGJvb2xlYW4sXG4pOiBQcm9taXNlPE5hbWVzIHwgdW5kZWZpbmVkPiB7XG4gIGNvbnN0IHZhbHVlcyA9IG5ldyBNYXA8c3RyaW5nLCBOYW1lZD4oKTtcbiAgY29uc3QgbGF5ZXJzOiBzdHJpbmdbXSA9IFtdO1xuICBmb3IgKGNvbnN0IG5hbWUgb2Ygc2Vzc2lvbnMpIHtcbiAgICBjb25zdCB7IGNvbnRlbnQsIG5hbWU6IGZ1bGwgfSA9IHdvcmtzcGFjZS5jb2xsZWN0aW9uLnJlYWQoJ3Nlc3Npb24nLCBuYW1lKTtcbiAgICBpZiAoY29udGVudC5zdXBwbHkgPT09IHVuZGVmaW5lZCkgY29udGludWU7XG4gICAgY29uc3Qgb3JpZ2luID0gYHNlc3Npb24gJHtmdWxsfWA7XG4gICAgbGF5ZXJzLnB1c2gob3JpZ2luKTtcbiAgICBjb25zdCBvcGVuID0gYXdhaXQgd29ya3NwYWNlLnNlc3Npb25zLm9wZW5PZihmdWxsLCBvcGVuaW5nKTtcbiAgICBjb25zdCBjbG9zZWQgPSAhb3BlbiAmJiB3b3Jrc3BhY2Uuc2Vzc2lvbnMub3BlbmluZyhbZnVsbF0pLmxlbmd0aCA+IDA7XG4gICAgY29uc3Qgcm9vbSA9IHdvcmtzcGFjZS5zZXNzaW9uUm9vbShmdWxsKTtcbiAgICBmb3IgKGNvbnN0IFtrZXksIHZhbHVlXSBvZiBPYmplY3QuZW50cmllcyhjb250ZW50LnN1cHBseSkpIHtcbiAgICAgIGNvbnN0IHJlc3VsdCA9IGNsb3NlZCA/IG5vdE9wZW5ZZXQgOiBhd2FpdCByb29tLmV2YWx1YXRlKHZhbHVlLCBbJ3N1cHBseScsIGtleV0sIG5hbWVzT2Yob3BlbikpO1xuICAgICAgaWYgKHJlc3VsdCA9PT0gb21pdHRlZCkgY29udGludWU7XG4gICAgICBpZiAoIWNsb3NlZCkgd29ya3NwYWNlLnJlZGFjdG9yLmFkZChyZXN1bHQpO1xuICAgICAgdmFsdWVzLnNldChrZXksIHsgdmFsdWU6IHJlc3VsdCwgb3JpZ2luLCBzZWNyZXQ6ICFjbG9zZWQgfSk7XG4gICAgfVxuICB9XG4gIGlmICh2YWx1ZXMuc2l6ZSA9PT0gMCkgcmV0dXJuIHVuZGVmaW5lZDtcbiAgcmV0dXJuIHsgbG9va3VwOiAobmFtZSkgPT4gdmFsdWVzLmdldChuYW1lKSwga25vd246ICgpID0+IHZhbHVlcy5rZXlzKCksIGxheWVycyB9O1xufVxuXG5jb25zdCBjb21waWxlZCA9IG5ldyBXZWFrTWFwPFdvcmtzcGFjZSwgTWFwPHN0cmluZywgcmVhZG9ubHkgRXhwZWN0YXRpb25bXT4+KCk7XG5cbi8qKiBXaGV0aGVyIGFuIGFuc3dlciByZWZ1c2VzIG9uZSBvZiB0aGUgc2Vzc2lvbnMgYXMgaXRzIGZpbGUgZGVzY3JpYmVzIGl0LiAqL1xuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIHJlZnVzZWRJbnNpZGUoXG4gIHdvcmtzcGFjZTogV29ya3NwYWNlLFxuICBzZXNzaW9uczogcmVhZG9ubHkgc3RyaW5nW10sXG4gIHJlY2VpdmVkOiBSZWNlaXZlZCxcbik6IFByb21pc2U8Ym9vbGVhbj4ge1xuICBmb3IgKGNvbnN0IG5hbWUgb2Ygc2Vzc2lvbnMpIHtcbiAgICBjb25zdCBleHBlY3RhdGlvbnMgPSBhd2FpdCByZWZ1c2FsT2Yod29ya3NwYWNlLCBuYW1lKTtcbiAgICBpZiAoZXhwZWN0YXRpb25zLmxlbmd0aCA9PT0gMCkgY29udGludWU7XG4gICAgY29uc3QgZXZhbHVhdGlvbiA9IG5ldyBFdmFsdWF0aW9uKG5vTmFtZXMsIHsgd29ybGQ6IHdvcmtzcGFjZS53b3JsZCgpLCBvblNlY3JldDogd29ya3NwYWNlLnJlZGFjdG9yLmFkZCB9KTtcbiAgICBjb25zdCB2ZXJkaWN0cyA9IGF3YWl0IGp1ZGdlKGV4cGVjdGF0aW9ucywgcmVjZWl2ZWQsIGV2YWx1YXRpb24sIHt9KTtcbiAgICBpZiAodmVyZGljdHMuZXZlcnkoKHsgb2sgfSkgPT4gb2spKSByZXR1cm4gdHJ1ZTtcbiAgfVxuICByZXR1cm4gZmFsc2U7XG59XG5cbmFzeW5jIGZ1bmN0aW9uIHJlZnVzYWxPZih3b3Jrc3BhY2U6IFdvcmtzcGFjZSwgbmFtZTogc3RyaW5nKTogUHJvbWlzZTxyZWFkb25seSBFeHBlY3RhdGlvbltdPiB7XG4gIGNvbnN0IGNhY2hlID0gY29tcGlsZWQuZ2V0KHdvcmtzcGFjZSkgPz8gbmV3IE1hcDxzdHJpbmcsIHJlYWRvbmx5IEV4cGVjdGF0aW9uW10+KCk7XG4gIGNvbXBpbGVkLnNldCh3b3Jrc3BhY2UsIGNhY2hlKTtcbiAgY29uc3Qga25vd24gPSBjYWNoZS5nZXQobmFtZSk7XG4gIGlmIChrbm93bikgcmV0dXJuIGtub3duO1xuICBjb25zdCB7IGNvbnRlbnQsIHlhbWwgfSA9IHdvcmtzcGFjZS5jb2xsZWN0aW9uLnJlYWQoJ3Nlc3Npb24nLCBuYW1lKTtcbiAgY29uc3QgbG9hZHM6IExvYWRzID0gW107XG4gIGNvbnN0IGV4cGVjdGF0aW9ucyA9IGNvbXBpbGVFeHBlY3RhdGlvbnMoY29udGVudC5yZWZ1c2VkLCB5YW1sLCBbJ3JlZnVzZWQnXSwgd29ya3NwYWNlLnJlYWRUZXh0LCBsb2Fkcyk7XG4gIGF3YWl0IFByb21pc2UuYWxsKGxvYWRzKTtcbiAgY2FjaGUuc2V0KG5hbWUsIGV4cGVjdGF0aW9ucyk7XG4gIHJldHVybiBleHBlY3RhdGlvbnM7XG59XG4iLCAiLyoqIE9uZSB0cnkgYXMgdGhlIHZlbmRvciBzZWVzIGl0OiB3aXRoIGl0cyBzZXNzaW9ucyBhbmQgaXRzIHNpZ25hdHVyZSwgYW5kIHdoYXQgdGhleSB3YW50IHRvIGJlIHNlbnQgYWdhaW4gZm9yLiAqL1xuaW1wb3J0IHR5cGUgeyBIZWFkZXJMaW5lLCBSZXNvbHZlZFJlcXVlc3QsIFdpcmVSZXF1ZXN0IH0gZnJvbSAnLi4vZXhjaGFuZ2Uvd2lyZS5qcyc7XG5pbXBvcnQgeyB0eXBlIEF0dGVtcHQsIGF0dGFjaGVkSGVhcmQsIGF0dGVtcHQsIGNvbXBvc2VkIH0gZnJvbSAnLi9hdHRlbXB0LmpzJztcbmltcG9ydCB0eXBlIHsgU2VhbCB9IGZyb20gJy4vc2VhbC5qcyc7XG5pbXBvcnQgdHlwZSB7IFNlbmRpbmcgfSBmcm9tICcuL3NlbmRpbmcuanMnO1xuaW1wb3J0IHsgcmVmdXNlZEluc2lkZSB9IGZyb20gJy4vc3VwcGx5LmpzJztcbmltcG9ydCB0eXBlIHsgV29ya3NwYWNlIH0gZnJvbSAnLi93b3Jrc3BhY2UuanMnO1xuXG5leHBvcnQgaW50ZXJmYWNlIENvbnZlcnNhdGlvbiB7XG4gIHJlYWRvbmx5IHdvcmtzcGFjZTogV29ya3NwYWNlO1xuICByZWFkb25seSBzZXNzaW9uczogcmVhZG9ubHkgc3RyaW5nW107XG4gIHJlYWRvbmx5IHNlbmRpbmc6IFNlbmRpbmc7XG4gIHJlYWRvbmx5IHNlYWw6IFNlYWwgfCB1bmRlZmluZWQ7XG4gIC8qKiBUaGUgcmVxdWVzdCBhcyBpdCBpcyBub3c6IGEgcmVuZXdlZCBzZXNzaW9uIG1heSBoYXZlIHN1cHBsaWVkIG90aGVyIG5hbWVzLiAqL1xuICByZXF1ZXN0OiBSZXNvbHZlZFJlcXVlc3Q7XG4gIGJhcmU6IFdpcmVSZXF1ZXN0O1xuICAvKiogV29ya3MgdGhlIHJlcXVlc3Qgb3V0IG9uY2UgbW9yZTsgdW5kZWZpbmVkIHdoZXJlIG5vIHNlc3Npb24gc3VwcGxpZXMgYW55dGhpbmcuICovXG4gIHJlYWRvbmx5IGFuZXc6ICgoKSA9PiBQcm9taXNlPFJlc29sdmVkUmVxdWVzdD4pIHwgdW5kZWZpbmVkO1xufVxuXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gY29udmVyc2UodGFsazogQ29udmVyc2F0aW9uKTogUHJvbWlzZTxBdHRlbXB0PiB7XG4gIGNvbnN0IHsgd29ya3NwYWNlLCBzZXNzaW9ucywgc2VuZGluZywgc2VhbCB9ID0gdGFsaztcbiAgY29uc3QgeyBob3N0IH0gPSB0YWxrLmJhcmUudXJsO1xuICBjb25zdCBhaGVhZCA9IHdvcmtzcGFjZS5jbG9ja3MuYWhlYWQoaG9zdCk7XG4gIGNvbnN0IG9uY2UgPSAoKTogUHJvbWlzZTxBdHRlbXB0PiA9PiBhdHRlbXB0KHdvcmtzcGFjZSwgdGFsay5yZXF1ZXN0LCB0YWxrLmJhcmUsIHNlc3Npb25zLCBzZW5kaW5nLCBzZWFsKTtcbiAgbGV0IHRyaWVkID0gYXdhaXQgb25jZSgpO1xuICBjb25zdCB7IGF0dGFjaGVkIH0gPSB0cmllZDtcbiAgLy8gQSBzZXJ2ZXIgdGhhdCB3YW50cyBhIHByb29mIHNheXMgZmlyc3Qgb2Ygd2hhdDsgYSBub25jZSB0aGF0IGVuZGVkIGlzIGFuc3dlcmVkIHdpdGggdGhlIG5leHQuXG4gIGZvciAobGV0IHJvdW5kcyA9IDA7IHJvdW5kcyA8IDMgJiYgYXR0YWNoZWRIZWFyZCh3b3Jrc3BhY2UsIHRyaWVkKTsgcm91bmRzICs9IDEpIHRyaWVkID0gYXdhaXQgb25jZSgpO1xuICAvLyBUaGUgY2xvY2sgdGhhdCBhIHNpZ25hdHVyZSB3YXMgbWFkZSB3aXRoIHdhcyBmb3VuZCB0byBiZSB3cm9uZyBieSBpdHMgdmVyeSByZWZ1c2FsLlxuICBpZiAoc2VhbCAmJiByZWZ1c2VkU3RhdHVzKHRyaWVkKSAmJiB3b3Jrc3BhY2UuZW52aXJvbm1lbnQuY2xvY2sgPT09ICdmb2xsb3ctc2VydmVyJylcbiAgICBpZiAod29ya3NwYWNlLmNsb2Nrcy5haGVhZChob3N0KSAhPT0gYWhlYWQpIHRyaWVkID0gYXdhaXQgb25jZSgpO1xuICAvLyBXaXRob3V0IGEgc2Vzc2lvbiBub2JvZHkgaXMgcmVmdXNlZCBieSBuYW1lLCBhbmQgdGhlcmUgaXMgbm90aGluZyB0byB3YWl0IGZvci5cbiAgaWYgKHNlc3Npb25zLmxlbmd0aCA+IDApIHRyaWVkLmluc2lkZSA9IGF3YWl0IHJlZnVzZXNJbnNpZGUod29ya3NwYWNlLCBzZXNzaW9ucywgdHJpZWQpO1xuICBjb25zdCByZWZ1c2VkID0gdHJpZWQuaW5zaWRlIHx8IHRyaWVkLm91dGNvbWUucmVjZWl2ZWQ/LnN0YXR1cyA9PT0gNDAxO1xuICAvLyBBIHRva2VuIHRoYXQgd2FzIGdvb2Qgb25jZSBhbmQgaXMgcmVmdXNlZCBub3cgaGFzIGVuZGVkOiBvbmNlIG1vcmUgd2l0aCBhIG5ldyBvbmUuXG4gIGlmIChhdHRhY2hlZCAmJiByZWZ1c2VkICYmIChhd2FpdCB3b3Jrc3BhY2Uuc2Vzc2lvbnMucmVuZXcoYXR0YWNoZWQpKSkge1xuICAgIGlmICh0YWxrLmFuZXcpIGF3YWl0IHdvcmtPdXRBbmV3KHRhbGssIHNlbmRpbmcubGluZXMpO1xuICAgIHRyaWVkID0gYXdhaXQgb25jZSgpO1xuICAgIHRyaWVkLmluc2lkZSA9IGF3YWl0IHJlZnVzZXNJbnNpZGUod29ya3NwYWNlLCBzZXNzaW9ucywgdHJpZWQpO1xuICB9XG4gIHJldHVybiB0cmllZDtcbn1cblxuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIHdvcmtPdXRBbmV3KHRhbGs6IENvbnZlcnNhdGlvbiwgbGluZXM6IHJlYWRvbmx5IEhlYWRlckxpbmVbXSA9IFtdKTogUHJvbWlzZTx2b2lkPiB7XG4gIGlmICghdGFsay5hbmV3KSByZXR1cm47XG4gIHRhbGsucmVxdWVzdCA9IGF3YWl0IHRhbGsuYW5ldygpO1xuICB0YWxrLmJhcmUgPSBjb21wb3NlZCh0YWxrLndvcmtzcGFjZSwgdGFsay5yZXF1ZXN0LCBsaW5lcyk7XG59XG5cbmNvbnN0IHJlZnVzZWRTdGF0dXMgPSAoeyBvdXRjb21lOiB7IHJlY2VpdmVkIH0gfTogQXR0ZW1wdCk6IGJvb2xlYW4gPT5cbiAgcmVjZWl2ZWQ/LnN0YXR1cyA9PT0gNDAxIHx8IHJlY2VpdmVkPy5zdGF0dXMgPT09IDQwMztcblxuY29uc3QgcmVmdXNlc0luc2lkZSA9IGFzeW5jIChcbiAgd29ya3NwYWNlOiBXb3Jrc3BhY2UsXG4gIHNlc3Npb25zOiByZWFkb25seSBzdHJpbmdbXSxcbiAgeyBvdXRjb21lOiB7IHJlY2VpdmVkLCB0cm91YmxlIH0gfTogQXR0ZW1wdCxcbik6IFByb21pc2U8Ym9vbGVhbj4gPT4gcmVjZWl2ZWQgIT09IHVuZGVmaW5lZCAmJiAhdHJvdWJsZSAmJiByZWZ1c2VkSW5zaWRlKHdvcmtzcGFjZSwgc2Vzc2lvbnMsIHJlY2VpdmVkKTtcbiIsICIvKiogV2hhdCBtYW55IHNlcnZlcnMgcmVmdXNlLCBvciByZWFkIG90aGVyd2lzZSB0aGFuIGl0IHdhcyBtZWFudC4gKi9cbmltcG9ydCB0eXBlIHsgV2lyZVJlcXVlc3QgfSBmcm9tICcuLi9leGNoYW5nZS93aXJlLmpzJztcbmltcG9ydCB0eXBlIHsgV29ya3NwYWNlIH0gZnJvbSAnLi93b3Jrc3BhY2UuanMnO1xuXG5jb25zdCBub0RvdWJ0czogcmVhZG9ubHkgc3RyaW5nW10gPSBbXTtcblxuZXhwb3J0IGZ1bmN0aW9uIGRvdWJ0c09mKFxuICB7IHVybCwgbWV0aG9kIH06IFBpY2s8V2lyZVJlcXVlc3QsICd1cmwnIHwgJ21ldGhvZCc+LFxuICB7IGVudmlyb25tZW50IH06IFdvcmtzcGFjZSxcbik6IHJlYWRvbmx5IHN0cmluZ1tdIHtcbiAgY29uc3QgeyBocmVmIH0gPSB1cmw7XG4gIGNvbnN0IHsgbGVuZ3RoIH0gPSBocmVmO1xuICBpZiAobGVuZ3RoIDw9IGVudmlyb25tZW50LnVybExpbWl0ICYmICFocmVmLmluY2x1ZGVzKCclMjUnKSkgcmV0dXJuIG5vRG91YnRzO1xuICBjb25zdCBkb3VidHM6IHN0cmluZ1tdID0gW107XG4gIGlmIChsZW5ndGggPiBlbnZpcm9ubWVudC51cmxMaW1pdCkge1xuICAgIGRvdWJ0cy5wdXNoKFxuICAgICAgYHRoZSBhZGRyZXNzIGhhcyAke2xlbmd0aH0gY2hhcmFjdGVycywgdGhlIGVudmlyb25tZW50ICR7ZW52aXJvbm1lbnQubmFtZX0gdGFrZXMgJHtlbnZpcm9ubWVudC51cmxMaW1pdH0ke21ldGhvZCA9PT0gJ0dFVCcgPyAnOyB3aGVyZSB0aGUgdmVuZG9yIGhhcyBhIGZvcm0gb2YgdGhlIGNhbGwgd2l0aCBhIGJvZHksIHRoYXQgaGFzIG5vIHN1Y2ggbGltaXQnIDogJyd9YCxcbiAgICApO1xuICB9XG4gIGlmICgvJTI1WzAtOUEtRmEtZl17Mn0vLnRlc3QodXJsLnBhdGhuYW1lICsgdXJsLnNlYXJjaCkpXG4gICAgZG91YnRzLnB1c2goJ3RoZSBhZGRyZXNzIGhvbGRzIGEgdmFsdWUgdGhhdCB3YXMgcGVyY2VudC1lbmNvZGVkIGJlZm9yZSBpdCBjYW1lIGluOiBpdCBpcyBlbmNvZGVkIHR3aWNlIG5vdycpO1xuICByZXR1cm4gZG91YnRzO1xufVxuIiwgIi8qKiBXaGF0IGJlY29tZXMgb2YgYW4gb3V0Y29tZTogdXNhYmxlIG9yIG5vdCwganVkZ2VkIGJ5IHRoZSBleHBlY3RhdGlvbnMsIGFuZCB3aGF0IGlzIGtlcHQgb2YgaXQuICovXG5pbXBvcnQgeyBkb2N1bWVudGVkU2NoZW1hIH0gZnJvbSAnLi4vY29sbGVjdGlvbi9kb2N1bWVudGVkLXNjaGVtYS5qcyc7XG5pbXBvcnQgeyBmaW5kT3BlcmF0aW9uIH0gZnJvbSAnLi4vY29sbGVjdGlvbi9zb3VyY2UtaW5kZXguanMnO1xuaW1wb3J0IHR5cGUgeyBSZWNlaXZlZCB9IGZyb20gJy4uL2V4Y2hhbmdlL3JlY2VpdmVkLmpzJztcbmltcG9ydCB0eXBlIHsgT3V0Y29tZSB9IGZyb20gJy4uL2V4Y2hhbmdlL3RyYW5zcG9ydC5qcyc7XG5pbXBvcnQgeyBkZWZhdWx0VmVyZGljdCwgdHlwZSBFeHBlY3RhdGlvbiwganVkZ2UsIHR5cGUgVmVyZGljdCB9IGZyb20gJy4uL2V4cGVjdGF0aW9uL2V4cGVjdGF0aW9ucy5qcyc7XG5pbXBvcnQgeyB0YWtlS2VlcHMgfSBmcm9tICcuLi9leHBlY3RhdGlvbi9rZWVwcy5qcyc7XG5pbXBvcnQgeyBFdmFsdWF0aW9uLCB0eXBlIFN1cnJvdW5kaW5ncyB9IGZyb20gJy4uL2V4cHJlc3Npb24vZXZhbHVhdGlvbi5qcyc7XG5pbXBvcnQgdHlwZSB7IE5hbWVzIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi9uYW1lcy5qcyc7XG5pbXBvcnQgdHlwZSB7IFNpdHVhdGlvbiB9IGZyb20gJy4uL21hdGNoZXIvbWF0Y2hlci5qcyc7XG5pbXBvcnQgeyBhc1Byb2JsZW0sIFByb2JsZW0gfSBmcm9tICcuLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgaXNTZWNyZXROYW1lLCBzZWNyZXRGaWVsZFZhbHVlcyB9IGZyb20gJy4uL3ZhbHVlL3NlY3JldC1maWVsZHMuanMnO1xuaW1wb3J0IHR5cGUgeyBWYWx1ZSB9IGZyb20gJy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHR5cGUgeyBQcmVwYXJlZFJlcXVlc3QgfSBmcm9tICcuL3ByZXBhcmUuanMnO1xuaW1wb3J0IHR5cGUgeyBTZW5kaW5nLCBTZW50IH0gZnJvbSAnLi9zZW5kaW5nLmpzJztcbmltcG9ydCB0eXBlIHsgV29ya3NwYWNlIH0gZnJvbSAnLi93b3Jrc3BhY2UuanMnO1xuXG5leHBvcnQgaW50ZXJmYWNlIEp1ZGdlZCBleHRlbmRzIFBpY2s8U2VudCwgJ291dGNvbWUnIHwgJ3ZlcmRpY3RzJyB8ICdrZXB0Jz4ge1xuICByZWFkb25seSBwcm9ibGVtczogUHJvYmxlbVtdO1xufVxuXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24ganVkZ2VPdXRjb21lKFxuICB3b3Jrc3BhY2U6IFdvcmtzcGFjZSxcbiAgcHJlcGFyZWQ6IFByZXBhcmVkUmVxdWVzdCxcbiAgc2VuZGluZzogU2VuZGluZyxcbiAgZ2l2ZW46IE91dGNvbWUsXG4gIG93bk5hbWVzOiBOYW1lcyxcbiAgc3Vycm91bmRpbmdzOiBTdXJyb3VuZGluZ3MsXG4pOiBQcm9taXNlPEp1ZGdlZD4ge1xuICBjb25zdCBvdXRjb21lID0gbWFsZm9ybWVkKGdpdmVuKTtcbiAgY29uc3QgeyByZWNlaXZlZCwgdHJvdWJsZSB9ID0gb3V0Y29tZTtcbiAgaWYgKHJlY2VpdmVkICYmICF0cm91YmxlKSBoaWRlVG9rZW5zKHByZXBhcmVkLCByZWNlaXZlZCwgc3Vycm91bmRpbmdzLm9uU2VjcmV0KTtcbiAgaWYgKCFyZWNlaXZlZCB8fCB0cm91YmxlKSByZXR1cm4geyBvdXRjb21lLCB2ZXJkaWN0czogW10sIGtlcHQ6IFtdLCBwcm9ibGVtczogdHJvdWJsZSA/IFt0cm91YmxlXSA6IFtdIH07XG4gIGNvbnN0IGV2YWx1YXRpb24gPSAobmFtZXM6IE5hbWVzKTogRXZhbHVhdGlvbiA9PiBuZXcgRXZhbHVhdGlvbihuYW1lcywgc3Vycm91bmRpbmdzKTtcbiAgY29uc3Qgc2l0dWF0aW9uOiBTaXR1YXRpb24gPSB7XG4gICAgZG9jdW1lbnRlZDogKCkgPT4gZG9jdW1lbnRlZCh3b3Jrc3BhY2UsIHByZXBhcmVkLnBsYW4uY29udGVudC5vcGVyYXRpb24sIHJlY2VpdmVkKSxcbiAgfTtcbiAgY29uc3Qgc3RlcEV4cGVjdGF0aW9ucyA9IHNlbmRpbmcuZXhwZWN0YXRpb25zID8/IFtdO1xuICBjb25zdCBvZlJlcXVlc3QgPSBvd25QYXJ0cyhwcmVwYXJlZCwgc3RlcEV4cGVjdGF0aW9ucyk7XG4gIGNvbnN0IHN0YW5kYXJkID0gZGVmYXVsdFZlcmRpY3Qob2ZSZXF1ZXN0LmV4cGVjdGF0aW9ucywgc3RlcEV4cGVjdGF0aW9ucywgcmVjZWl2ZWQpO1xuICAvLyBOb3RoaW5nIGhhcyB0byBiZSB3YWl0ZWQgZm9yIHVubGVzcyBhIG1hdGNoZXIgbG9hZHMgc29tZXRoaW5nOiBhIHJ1biBqdWRnZXMgdGhvdXNhbmRzIG9mIGFuc3dlcnMuXG4gIGNvbnN0IGp1ZGdlQWxsID0gKGF0OiBTaXR1YXRpb24pOiBWZXJkaWN0W10gfCBQcm9taXNlPFZlcmRpY3RbXT4gPT4ge1xuICAgIGNvbnN0IG93biA9IGp1ZGdlKG9mUmVxdWVzdC5leHBlY3RhdGlvbnMsIHJlY2VpdmVkLCBldmFsdWF0aW9uKG93bk5hbWVzKSwgYXQpO1xuICAgIGlmIChzdGVwRXhwZWN0YXRpb25zLmxlbmd0aCA9PT0gMCAmJiAhc3RhbmRhcmQpIHJldHVybiBvd247XG4gICAgY29uc3Qgb2ZTdGVwID0gc3RlcEV4cGVjdGF0aW9ucy5sZW5ndGggPiAwID8ganVkZ2Uoc3RlcEV4cGVjdGF0aW9ucywgcmVjZWl2ZWQsIGV2YWx1YXRpb24oc2VuZGluZy5jYWxsZXIpLCBhdCkgOiBbXTtcbiAgICBjb25zdCBhbGwgPSAob25lOiBWZXJkaWN0W10sIG90aGVyOiBWZXJkaWN0W10pOiBWZXJkaWN0W10gPT4gWy4uLm9uZSwgLi4ub3RoZXIsIC4uLihzdGFuZGFyZCA/IFtzdGFuZGFyZF0gOiBbXSldO1xuICAgIHJldHVybiBvd24gaW5zdGFuY2VvZiBQcm9taXNlIHx8IG9mU3RlcCBpbnN0YW5jZW9mIFByb21pc2VcbiAgICAgID8gUHJvbWlzZS5hbGwoW293biwgb2ZTdGVwXSkudGhlbigoW29uZSwgb3RoZXJdKSA9PiBhbGwob25lLCBvdGhlcikpXG4gICAgICA6IGFsbChvd24sIG9mU3RlcCk7XG4gIH07XG4gIGNvbnN0IGp1ZGdlZCA9IGp1ZGdlQWxsKHNpdHVhdGlvbik7XG4gIGxldCB2ZXJkaWN0cyA9IGp1ZGdlZCBpbnN0YW5jZW9mIFByb21pc2UgPyBhd2FpdCBqdWRnZWQgOiBqdWRnZWQ7XG4gIGNvbnN0IHsgYWNjZXB0IH0gPSB3b3Jrc3BhY2U7XG4gIC8vIEFuIGFuc3dlciB0aGF0IGlzIHdyb25nIGluIGFub3RoZXIgd2F5IGlzIG5vIGJhc2VsaW5lLlxuICBpZiAoYWNjZXB0ICYmIHZlcmRpY3RzLnNvbWUoKHsgb2sgfSkgPT4gIW9rKSAmJiB2ZXJkaWN0cy5ldmVyeSgoeyBvaywgZGV2aWF0aW9ucyB9KSA9PiBvayB8fCBkZXZpYXRpb25zKSlcbiAgICB2ZXJkaWN0cyA9IGF3YWl0IGp1ZGdlQWxsKHsgLi4uc2l0dWF0aW9uLCBhY2NlcHQgfSk7XG4gIGNvbnN0IHsga2VwdDogdGFrZW4sIG1pc3NpbmcgfSA9IHRha2VLZWVwcyhvZlJlcXVlc3Qua2VlcHMsIHJlY2VpdmVkLCBldmFsdWF0aW9uKG93bk5hbWVzKSk7XG4gIGlmIChzZW5kaW5nLmtlZXBzICYmIHNlbmRpbmcua2VlcHMubGVuZ3RoID4gMCkge1xuICAgIGNvbnN0IGZyb21TdGVwID0gdGFrZUtlZXBzKHNlbmRpbmcua2VlcHMsIHJlY2VpdmVkLCBldmFsdWF0aW9uKHNlbmRpbmcuY2FsbGVyKSk7XG4gICAgdGFrZW4ucHVzaCguLi5mcm9tU3RlcC5rZXB0KTtcbiAgICBtaXNzaW5nLnB1c2goLi4uZnJvbVN0ZXAubWlzc2luZyk7XG4gIH1cbiAgY29uc3Qga2VwdCA9IHRha2VuLm1hcCgob25lKSA9PiAob25lLnNlY3JldCB8fCBpc1NlY3JldE5hbWUob25lLm5hbWUpID8geyAuLi5vbmUsIHNlY3JldDogdHJ1ZSB9IDogb25lKSk7XG4gIGZvciAoY29uc3Qgb25lIG9mIGtlcHQpIGlmIChvbmUuc2VjcmV0KSB3b3Jrc3BhY2UucmVkYWN0b3IuYWRkKG9uZS52YWx1ZSk7XG4gIGNvbnN0IGZhaWxlZCA9IHZlcmRpY3RzLmZpbHRlcigoeyBvayB9KSA9PiAhb2spO1xuICBjb25zdCBwcm9ibGVtcyA9IGZhaWxlZC5tYXAoKHZlcmRpY3QpID0+IGZhaWxlZEV4cGVjdGF0aW9uKHZlcmRpY3QpKTtcbiAgLy8gQmVoaW5kIGEgZmFpbGVkIGV4cGVjdGF0aW9uIGEgbWlzc2luZyB2YWx1ZSBpcyBubyBuZXdzLlxuICBpZiAoZmFpbGVkLmxlbmd0aCA9PT0gMCkgcHJvYmxlbXMucHVzaCguLi5taXNzaW5nKTtcbiAgcmV0dXJuIHsgb3V0Y29tZSwgdmVyZGljdHMsIGtlcHQsIHByb2JsZW1zIH07XG59XG5cbi8qKiBUaGUgdG9rZW4gb2YgYSBsb2ctaW4gaXMgYSBzZWNyZXQgYmVmb3JlIGFueXRoaW5nIG9mIHRoZSBhbnN3ZXIgaXMga2VwdCwgc2hvd24gb3IgcmVjb3JkZWQuICovXG5mdW5jdGlvbiBoaWRlVG9rZW5zKHsgdG9rZW5zIH06IFByZXBhcmVkUmVxdWVzdCwgcmVjZWl2ZWQ6IFJlY2VpdmVkLCBvblNlY3JldDogKHZhbHVlOiBWYWx1ZSkgPT4gdm9pZCk6IHZvaWQge1xuICBpZiAocmVjZWl2ZWQudGV4dHVhbCkgZm9yIChjb25zdCB2YWx1ZSBvZiBzZWNyZXRGaWVsZFZhbHVlcyhyZWNlaXZlZC50ZXh0KSkgb25TZWNyZXQodmFsdWUpO1xuICBmb3IgKGNvbnN0IHBsYWNlIG9mIHRva2Vucykge1xuICAgIHRyeSB7XG4gICAgICBjb25zdCB2YWx1ZSA9IHBsYWNlLmZpbmQocmVjZWl2ZWQpO1xuICAgICAgaWYgKHZhbHVlICE9PSB1bmRlZmluZWQpIG9uU2VjcmV0KHZhbHVlKTtcbiAgICB9IGNhdGNoIHtcbiAgICAgIC8vIE5vIHRva2VuIHRoZXJlOiB0aGUgc2Vzc2lvbiBzYXlzIHNvLlxuICAgIH1cbiAgfVxufVxuXG4vKiogQSBzdGVwIHRoYXQgZXhwZWN0cyBhIHN0YXR1cyBvZiBpdHMgb3duIHNwZWFrcyBvZiBhbm90aGVyIGFuc3dlcjogd2hhdCB0aGUgcmVxdWVzdCBleHBlY3RzIGFuZCBrZWVwcyBpcyBub3QgaW4gaXQuICovXG5mdW5jdGlvbiBvd25QYXJ0cyhcbiAgeyBleHBlY3RhdGlvbnMsIGtlZXBzIH06IFByZXBhcmVkUmVxdWVzdCxcbiAgc3RlcDogcmVhZG9ubHkgRXhwZWN0YXRpb25bXSxcbik6IFBpY2s8UHJlcGFyZWRSZXF1ZXN0LCAnZXhwZWN0YXRpb25zJyB8ICdrZWVwcyc+IHtcbiAgaWYgKHN0ZXAubGVuZ3RoID09PSAwKSByZXR1cm4geyBleHBlY3RhdGlvbnMsIGtlZXBzIH07XG4gIGNvbnN0IHBsYWNlcyA9IG5ldyBTZXQoc3RlcC5tYXAoKHsgcGxhY2UgfSkgPT4gcGxhY2UudGV4dCkpO1xuICBpZiAocGxhY2VzLmhhcygnc3RhdHVzJykpIHJldHVybiB7IGV4cGVjdGF0aW9uczogW10sIGtlZXBzOiBbXSB9O1xuICByZXR1cm4geyBrZWVwcywgZXhwZWN0YXRpb25zOiBleHBlY3RhdGlvbnMuZmlsdGVyKCh7IHBsYWNlIH0pID0+ICFwbGFjZXMuaGFzKHBsYWNlLnRleHQpKSB9O1xufVxuXG4vKiogQW4gYW5zd2VyIHRoYXQgY2xhaW1zIHRvIGJlIEpTT04gYW5kIGlzIG5vdCBpcyBubyB1c2FibGUgYW5zd2VyLiAqL1xuZnVuY3Rpb24gbWFsZm9ybWVkKG91dGNvbWU6IE91dGNvbWUpOiBPdXRjb21lIHtcbiAgY29uc3QgeyByZWNlaXZlZCwgdHJvdWJsZSB9ID0gb3V0Y29tZTtcbiAgLy8gV2hhdCB3ZW50IHRvIGEgZmlsZSBpcyBmb3Igb3RoZXJzIHRvIHJlYWQuXG4gIGNvbnN0IHNhdmVkID0gcmVjZWl2ZWQ/LnBhcnRzLnNhdmVkICE9PSB1bmRlZmluZWQ7XG4gIGlmICghcmVjZWl2ZWQgfHwgdHJvdWJsZSB8fCBzYXZlZCB8fCAhcmVjZWl2ZWQuY2xhaW1zSnNvbiB8fCByZWNlaXZlZC5zaXplID09PSAwKSByZXR1cm4gb3V0Y29tZTtcbiAgdHJ5IHtcbiAgICByZWNlaXZlZC5qc29uKCk7XG4gICAgcmV0dXJuIG91dGNvbWU7XG4gIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgcmV0dXJuIHsgcmVjZWl2ZWQsIHRyb3VibGU6IGFzUHJvYmxlbShlcnJvcikgfTtcbiAgfVxufVxuXG5mdW5jdGlvbiBkb2N1bWVudGVkKHdvcmtzcGFjZTogV29ya3NwYWNlLCBvcGVyYXRpb246IHN0cmluZyB8IHVuZGVmaW5lZCwgcmVjZWl2ZWQ6IFJlY2VpdmVkKTogb2JqZWN0IHwgdW5kZWZpbmVkIHtcbiAgaWYgKG9wZXJhdGlvbiA9PT0gdW5kZWZpbmVkKSByZXR1cm4gdW5kZWZpbmVkO1xuICByZXR1cm4gZG9jdW1lbnRlZFNjaGVtYSh3b3Jrc3BhY2UuY29sbGVjdGlvbiwgZmluZE9wZXJhdGlvbih3b3Jrc3BhY2UuY29sbGVjdGlvbiwgb3BlcmF0aW9uKSwgcmVjZWl2ZWQuc3RhdHVzKTtcbn1cblxuZnVuY3Rpb24gZmFpbGVkRXhwZWN0YXRpb24oeyBwbGFjZSwgZXhwZWN0ZWQsIGZvdW5kLCBkZXRhaWwsIG5lYXIgfTogVmVyZGljdCk6IFByb2JsZW0ge1xuICByZXR1cm4gbmV3IFByb2JsZW0oJ3N0ZXAtZmFpbGVkJywge1xuICAgIHdoYXQ6IGAke3BsYWNlfTogZXhwZWN0ZWQgJHtleHBlY3RlZH0sIGZvdW5kICR7Zm91bmR9YCxcbiAgICBjYXVzZTogW2RldGFpbCwgbmVhciAmJiBgbmVhcmVzdDogJHtuZWFyfWBdLmZpbHRlcihCb29sZWFuKS5qb2luKCc7ICcpIHx8IHVuZGVmaW5lZCxcbiAgICBkYXRhOiB7IHBsYWNlIH0sXG4gIH0pO1xufVxuIiwgIi8qKiBTZW5kaW5nIHRocm91Z2ggdGhlIGdhdGUgb2YgYSBob3N0LCBhbmQgYWdhaW4gd2hlcmUgdGhlIHNlcnZlciBpcyB0b28gYnVzeSBvciB0aGUgYW5zd2VyIHdhcyBsb3N0LiAqL1xuaW1wb3J0IHR5cGUgeyBPdXRjb21lIH0gZnJvbSAnLi4vLi4vZXhjaGFuZ2UvdHJhbnNwb3J0LmpzJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgZHVyYXRpb25UZXh0IH0gZnJvbSAnLi4vLi4vdmFsdWUvbWVhc3VyZXMuanMnO1xuaW1wb3J0IHR5cGUgeyBIb3N0R2F0ZSB9IGZyb20gJy4vaG9zdC1nYXRlLmpzJztcbmltcG9ydCB7IG93bldhaXQsIHR5cGUgUmV0cnlQb2xpY3kgfSBmcm9tICcuL3JldHJ5LXBvbGljeS5qcyc7XG5pbXBvcnQgeyBzcGVudCwgd2FpdEFza2VkIH0gZnJvbSAnLi9zZXJ2ZXItd2FpdHMuanMnO1xuXG4vKiogVGhlIGhvc3QgYXNrZWQgZm9yIHBhdGllbmNlLCBhbmQgYWxsIHRoYXQgaXMgc2VudCB0byBpdCB3YWl0cy4gKi9cbmV4cG9ydCBpbnRlcmZhY2UgV2FpdCB7XG4gIHJlYWRvbmx5IGhvc3Q6IHN0cmluZztcbiAgLyoqIE1pbGxpc2Vjb25kcyBmcm9tIG5vdyB1bnRpbCB0aGUgaG9zdCBpcyBjYWxsZWQgYWdhaW4uICovXG4gIHJlYWRvbmx5IHdhaXQ6IG51bWJlcjtcbiAgLyoqIEJ5IGhvdyBtYW55IG9mIHRoZW0gdGhlIHdhaXQgb2YgYmVmb3JlIHdhcyBsZW5ndGhlbmVkLiAqL1xuICByZWFkb25seSBhZGRlZDogbnVtYmVyO1xuICAvKiogYHN0YXR1cyA0MjlgLCBgdG9vIGJ1c3lgLCBhIHByb2JsZW0ncyBjb2RlLCBgcXVvdGEgc3BlbnRgLiAqL1xuICByZWFkb25seSB3aHk6IHN0cmluZztcbiAgLyoqIFdoZXRoZXIgdGhlIHNlcnZlciBzYWlkIGhvdyBsb25nLiAqL1xuICByZWFkb25seSB0b2xkOiBib29sZWFuO1xufVxuXG4vKiogV2hhdCBhIHdhbGsgY291bnRzIG9mIGl0LiAqL1xuZXhwb3J0IGludGVyZmFjZSBQYXRpZW5jZSB7XG4gIC8qKiBBbnN3ZXJzIHRoYXQgc2FpZCBcInRvbyBidXN5XCIuICovXG4gIHJlZnVzZWQ6IG51bWJlcjtcbiAgLyoqIFJlcXVlc3RzIHRoYXQgd2VyZSBzZW50IG1vcmUgdGhhbiBvbmNlLiAqL1xuICB0cmllZEFnYWluOiBudW1iZXI7XG4gIC8qKiBNaWxsaXNlY29uZHMgdGhhdCBob3N0cyB3ZXJlIG5vdCBjYWxsZWQgZm9yLiAqL1xuICB3YWl0ZWQ6IG51bWJlcjtcbn1cblxuZXhwb3J0IGludGVyZmFjZSBUcnlSb29tIHtcbiAgcmVhZG9ubHkgZ2F0ZTogSG9zdEdhdGU7XG4gIHJlYWRvbmx5IGhvc3Q6IHN0cmluZztcbiAgcmVhZG9ubHkgcG9saWN5OiBSZXRyeVBvbGljeSB8IHVuZGVmaW5lZDtcbiAgLyoqIEEgc2Vjb25kIHNlbmRpbmcgZG9lcyBubyBoYXJtOiBub3RoaW5nIGlzIGNoYW5nZWQsIHRoZSBtZXRob2QgaXMgaWRlbXBvdGVudCAoUkZDIDkxMTAgc2VjdGlvbiA5LjIuMiksIG9yIGl0IGNhcnJpZXMgYSBrZXkuICovXG4gIHJlYWRvbmx5IHJlcGVhdGFibGU6IGJvb2xlYW47XG4gIHJlYWRvbmx5IHNpZ25hbDogQWJvcnRTaWduYWwgfCB1bmRlZmluZWQ7XG4gIHJlYWRvbmx5IHBhdGllbmNlOiBQYXRpZW5jZTtcbiAgLyoqIEFuIGFuc3dlciB0aGF0IGlzIGV4cGVjdGVkIGlzIG5ldmVyIGFza2VkIGZvciBhZ2Fpbi4gKi9cbiAgcmVhZG9ubHkgZXhwZWN0ZWQ6IChvdXRjb21lOiBPdXRjb21lKSA9PiBQcm9taXNlPGJvb2xlYW4+O1xuICAvKiogVGhlIGJvZHkgc2F5cyBcInRvbyBidXN5XCIuICovXG4gIHJlYWRvbmx5IGJ1c3k6IChvdXRjb21lOiBPdXRjb21lKSA9PiBQcm9taXNlPGJvb2xlYW4+O1xuICByZWFkb25seSBvbldhaXQ6ICgod2FpdDogV2FpdCkgPT4gdm9pZCkgfCB1bmRlZmluZWQ7XG59XG5cbmV4cG9ydCBpbnRlcmZhY2UgVHJpZWQ8QT4ge1xuICByZWFkb25seSBhdHRlbXB0OiBBO1xuICByZWFkb25seSB0cmllczogbnVtYmVyO1xuICAvKiogV2h5IGl0IHdhcyBub3QgdHJpZWQgYWdhaW4sIGFsdGhvdWdoIGl0IHdvdWxkIGhhdmUgYmVlbiB3b3J0aCBpdC4gKi9cbiAgcmVhZG9ubHkgZ2F2ZVVwOiBzdHJpbmcgfCB1bmRlZmluZWQ7XG59XG5cbmNvbnN0IGxvc3RDb2RlcyA9IG5ldyBTZXQ8UHJvYmxlbVsnY29kZSddPihbXG4gICdjb25uZWN0aW9uLXJlc2V0JyxcbiAgJ2Fuc3dlci1jdXQtc2hvcnQnLFxuICAnYW5zd2VyLXRpbWVvdXQnLFxuICAnY29ubmVjdGlvbi10aW1lb3V0JyxcbiAgJ2Fuc3dlci1tYWxmb3JtZWQnLFxuXSk7XG5cbi8qKiBAcGFyYW0gb25UcnkgdG9sZCBvZiBlYWNoIHRyeSB0aGF0IGlzIG5vdCB0aGUgbGFzdCBAdGhyb3dzIFByb2JsZW0gaW50ZXJydXB0ZWQ6IGl0IHdhaXRlZCwgYW5kIGRvZXMgbm90IGxlYXZlIGFueSBtb3JlICovXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gaW5UcmllczxBIGV4dGVuZHMgeyByZWFkb25seSBvdXRjb21lOiBPdXRjb21lIH0+KFxuICByb29tOiBUcnlSb29tLFxuICBvbmNlOiAoKSA9PiBQcm9taXNlPEE+LFxuICBvblRyeTogKGF0dGVtcHQ6IEEpID0+IFByb21pc2U8dm9pZD4sXG4pOiBQcm9taXNlPFRyaWVkPEE+PiB7XG4gIGNvbnN0IHsgZ2F0ZSwgcG9saWN5LCBzaWduYWwsIHBhdGllbmNlLCBob3N0IH0gPSByb29tO1xuICBjb25zdCBzdGFydGVkID0gcGVyZm9ybWFuY2Uubm93KCk7XG4gIGZvciAobGV0IHRyaWVzID0gMTsgOyB0cmllcyArPSAxKSB7XG4gICAgY29uc3QgZW50ZXJpbmcgPSBnYXRlLmVudGVyKHNpZ25hbCk7XG4gICAgY29uc3QgdHVybiA9IGVudGVyaW5nIGluc3RhbmNlb2YgUHJvbWlzZSA/IGF3YWl0IGVudGVyaW5nIDogZW50ZXJpbmc7XG4gICAgLy8gSW50ZXJydXB0ZWQgd2hpbGUgaXQgd2FpdGVkOiBpdCBkb2VzIG5vdCBsZWF2ZS5cbiAgICBpZiAoIXR1cm4pIHRocm93IGludGVycnVwdGVkKCk7XG4gICAgaWYgKHNpZ25hbD8uYWJvcnRlZCkge1xuICAgICAgZ2F0ZS5sZWF2ZShmYWxzZSk7XG4gICAgICB0aHJvdyBpbnRlcnJ1cHRlZCgpO1xuICAgIH1cbiAgICBsZXQgYXR0ZW1wdDogQTtcbiAgICBsZXQgd2h5OiBzdHJpbmcgfCB1bmRlZmluZWQ7XG4gICAgdHJ5IHtcbiAgICAgIGF0dGVtcHQgPSBhd2FpdCBvbmNlKCk7XG4gICAgICB3aHkgPSBwb2xpY3kgJiYgbWF5QmVBZ2FpbihhdHRlbXB0Lm91dGNvbWUsIHBvbGljeSkgPyBhd2FpdCB3aHlBZ2FpbihhdHRlbXB0Lm91dGNvbWUsIHBvbGljeSwgcm9vbSkgOiB1bmRlZmluZWQ7XG4gICAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICAgIGdhdGUubGVhdmUoZmFsc2UpO1xuICAgICAgdGhyb3cgZXJyb3I7XG4gICAgfVxuICAgIGNvbnN0IHsgcmVjZWl2ZWQgfSA9IGF0dGVtcHQub3V0Y29tZTtcbiAgICBpZiAod2h5ID09PSB1bmRlZmluZWQgfHwgIXBvbGljeSB8fCBzaWduYWw/LmFib3J0ZWQpIHtcbiAgICAgIGlmIChyZWNlaXZlZCkgd2FpdEFoZWFkKHJlY2VpdmVkLmhlYWRlcnMsIHJvb20pO1xuICAgICAgZ2F0ZS5sZWF2ZSh3aHkgPT09IHVuZGVmaW5lZCk7XG4gICAgICByZXR1cm4geyBhdHRlbXB0LCB0cmllcywgZ2F2ZVVwOiB1bmRlZmluZWQgfTtcbiAgICB9XG4gICAgY29uc3QgdG9sZCA9IHJlY2VpdmVkICYmIHdhaXRBc2tlZChyZWNlaXZlZC5oZWFkZXJzLCBEYXRlLm5vdygpKTtcbiAgICBjb25zdCB3YWl0ID0gdG9sZCA/PyBvd25XYWl0KHBvbGljeSwgdHJpZXMsIE1hdGgucmFuZG9tKCkpO1xuICAgIGlmIChyZWNlaXZlZCkgcGF0aWVuY2UucmVmdXNlZCArPSAxO1xuICAgIGNvbnN0IGVsYXBzZWQgPSBwZXJmb3JtYW5jZS5ub3coKSAtIHN0YXJ0ZWQ7XG4gICAgY29uc3QgZ2F2ZVVwID1cbiAgICAgIHBvbGljeS5vbmx5VG9sZCAmJiB0b2xkID09PSB1bmRlZmluZWRcbiAgICAgICAgPyAnJ1xuICAgICAgICA6IHdhaXQgPiBwb2xpY3kuY2VpbGluZ1xuICAgICAgICAgID8gYCR7aG9zdH0gYXNrcyB0byB3YWl0ICR7ZHVyYXRpb25UZXh0KHdhaXQpfSwgYW5kIHJldHJ5IHdhaXRzICR7ZHVyYXRpb25UZXh0KHBvbGljeS5jZWlsaW5nKX0gYXQgbW9zdGBcbiAgICAgICAgICA6IHRyaWVzID49IHBvbGljeS50cmllc1xuICAgICAgICAgICAgPyBgdHJpZWQgJHt0cmllc30gdGltZXMgaW4gJHtkdXJhdGlvblRleHQoZWxhcHNlZCl9LCBhcyBvZnRlbiBhcyByZXRyeSBhbGxvd3NgXG4gICAgICAgICAgICA6IGVsYXBzZWQgKyB3YWl0ID4gcG9saWN5LndpdGhpblxuICAgICAgICAgICAgICA/IGB0cmllZCAke3RyaWVzfSB0aW1lcyBpbiAke2R1cmF0aW9uVGV4dChlbGFwc2VkKX07IGFub3RoZXIgdHJ5IHdvdWxkIHRha2UgbG9uZ2VyIHRoYW4gcmV0cnkgYWxsb3dzYFxuICAgICAgICAgICAgICA6IHVuZGVmaW5lZDtcbiAgICAvLyBXaGVyZSBub2JvZHkgc2FpZCBob3cgbG9uZywgYW5kIG5vYm9keSBhc2tlZCBmb3IgcGF0aWVuY2UsIHRoZSByZWZ1c2FsIGlzIGFuIGFuc3dlciBsaWtlIGFueSBvdGhlci5cbiAgICBpZiAoZ2F2ZVVwICE9PSB1bmRlZmluZWQpIHtcbiAgICAgIGdhdGUubGVhdmUoZmFsc2UpO1xuICAgICAgcmV0dXJuIHsgYXR0ZW1wdCwgdHJpZXMsIGdhdmVVcDogZ2F2ZVVwID09PSAnJyA/IHVuZGVmaW5lZCA6IGdhdmVVcCB9O1xuICAgIH1cbiAgICBpZiAodHJpZXMgPT09IDEpIHBhdGllbmNlLnRyaWVkQWdhaW4gKz0gMTtcbiAgICAvLyBTaHV0IGJlZm9yZSBpdHMgcGxhY2UgaXMgZ2l2ZW4gdG8gdGhlIG5leHQuXG4gICAgY29uc3QgYWRkZWQgPSByZWNlaXZlZCA/IGdhdGUuc2h1dCh3YWl0LCB0dXJuKSA6IDA7XG4gICAgZ2F0ZS5sZWF2ZShmYWxzZSk7XG4gICAgcGF0aWVuY2Uud2FpdGVkICs9IGFkZGVkO1xuICAgIC8vIFRob3NlIHRoYXQgd2VyZSByZWZ1c2VkIHRvZ2V0aGVyIGxlbmd0aGVuIG9uZSB3YWl0IGJ5IGEgbGl0dGxlIGVhY2gsIHdoaWNoIGlzIG5vIG5ld3MuXG4gICAgaWYgKGFkZGVkID4gd2FpdCAvIDQgfHwgIXJlY2VpdmVkKSByb29tLm9uV2FpdD8uKHsgaG9zdCwgd2FpdCwgYWRkZWQsIHdoeSwgdG9sZDogdG9sZCAhPT0gdW5kZWZpbmVkIH0pO1xuICAgIGF3YWl0IG9uVHJ5KGF0dGVtcHQpO1xuICAgIC8vIEEgbG9zdCBhbnN3ZXIgaXMgbm8gd29yZCBvZiB0aGUgaG9zdDogb25seSB0aGlzIHJlcXVlc3Qgd2FpdHMuXG4gICAgaWYgKCFyZWNlaXZlZCkgYXdhaXQgcGF1c2Uod2FpdCwgc2lnbmFsKTtcbiAgfVxufVxuXG5jb25zdCBpbnRlcnJ1cHRlZCA9ICgpOiBQcm9ibGVtID0+IG5ldyBQcm9ibGVtKCdpbnRlcnJ1cHRlZCcsIHsgd2hhdDogJ2ludGVycnVwdGVkJyB9KTtcblxuLyoqIEEgcXVvdGEgdGhhdCBpcyBzcGVudDogdGhlIGhvc3QgaXMgbGVmdCBhbG9uZSB1bnRpbCBpdCBpcyBmaWxsZWQsIGFoZWFkIG9mIGEgcmVmdXNhbC4gKi9cbmZ1bmN0aW9uIHdhaXRBaGVhZChcbiAgbGluZXM6IHJlYWRvbmx5IChyZWFkb25seSBbc3RyaW5nLCBzdHJpbmddKVtdLFxuICB7IGdhdGUsIHBvbGljeSwgaG9zdCwgcGF0aWVuY2UsIG9uV2FpdCB9OiBUcnlSb29tLFxuKTogdm9pZCB7XG4gIGlmICghcG9saWN5KSByZXR1cm47XG4gIGNvbnN0IHdhaXQgPSBzcGVudChsaW5lcyk7XG4gIGlmICh3YWl0ID09PSB1bmRlZmluZWQgfHwgd2FpdCA8PSAwIHx8IHdhaXQgPiBwb2xpY3kuY2VpbGluZykgcmV0dXJuO1xuICBjb25zdCBhZGRlZCA9IGdhdGUuc2h1dCh3YWl0KTtcbiAgcGF0aWVuY2Uud2FpdGVkICs9IGFkZGVkO1xuICBpZiAoYWRkZWQgPiAwKSBvbldhaXQ/Lih7IGhvc3QsIHdhaXQsIGFkZGVkLCB3aHk6ICdxdW90YSBzcGVudCcsIHRvbGQ6IHRydWUgfSk7XG59XG5cbi8qKiBNb3N0IGFuc3dlcnMgYXJlIHdoYXQgd2FzIHdhbnRlZCwgYW5kIG5vYm9keSBuZWVkIGJlIGFza2VkLiAqL1xuY29uc3QgbWF5QmVBZ2FpbiA9ICh7IHJlY2VpdmVkLCB0cm91YmxlIH06IE91dGNvbWUsIHsgc3RhdHVzZXMsIGJ1c3kgfTogUmV0cnlQb2xpY3kpOiBib29sZWFuID0+XG4gIHRyb3VibGUgIT09IHVuZGVmaW5lZCB8fCBidXN5Lmxlbmd0aCA+IDAgfHwgKHJlY2VpdmVkICE9PSB1bmRlZmluZWQgJiYgc3RhdHVzZXMuaGFzKHJlY2VpdmVkLnN0YXR1cykpO1xuXG5hc3luYyBmdW5jdGlvbiB3aHlBZ2FpbihcbiAgeyByZWNlaXZlZCwgdHJvdWJsZSB9OiBPdXRjb21lLFxuICBwb2xpY3k6IFJldHJ5UG9saWN5LFxuICByb29tOiBUcnlSb29tLFxuKTogUHJvbWlzZTxzdHJpbmcgfCB1bmRlZmluZWQ+IHtcbiAgaWYgKHJlY2VpdmVkICYmICF0cm91YmxlKSB7XG4gICAgY29uc3QgeyBzdGF0dXMgfSA9IHJlY2VpdmVkO1xuICAgIGlmIChwb2xpY3kuc3RhdHVzZXMuaGFzKHN0YXR1cykgJiYgKHN0YXR1cyA8IDUwMCB8fCByb29tLnJlcGVhdGFibGUpKSB7XG4gICAgICByZXR1cm4gKGF3YWl0IHJvb20uZXhwZWN0ZWQoeyByZWNlaXZlZCwgdHJvdWJsZSB9KSkgPyB1bmRlZmluZWQgOiBgc3RhdHVzICR7c3RhdHVzfWA7XG4gICAgfVxuICAgIGlmIChwb2xpY3kuYnVzeS5sZW5ndGggPiAwICYmIChhd2FpdCByb29tLmJ1c3koeyByZWNlaXZlZCwgdHJvdWJsZSB9KSkpIHJldHVybiAndG9vIGJ1c3knO1xuICAgIHJldHVybiB1bmRlZmluZWQ7XG4gIH1cbiAgaWYgKCF0cm91YmxlIHx8IHBvbGljeS5vbmx5VG9sZCB8fCAhcm9vbS5yZXBlYXRhYmxlIHx8ICFsb3N0Q29kZXMuaGFzKHRyb3VibGUuY29kZSkpIHJldHVybiB1bmRlZmluZWQ7XG4gIHJldHVybiB0cm91YmxlLmNvZGU7XG59XG5cbi8qKiBFbmRzIGVhcmx5IHdoZXJlIHRoZSBzaWduYWwgY29tZXMgZmlyc3QuICovXG5leHBvcnQgZnVuY3Rpb24gcGF1c2UobXM6IG51bWJlciwgc2lnbmFsOiBBYm9ydFNpZ25hbCB8IHVuZGVmaW5lZCk6IFByb21pc2U8dm9pZD4ge1xuICByZXR1cm4gbmV3IFByb21pc2UoKHJlc29sdmUpID0+IHtcbiAgICBpZiAoc2lnbmFsPy5hYm9ydGVkKSByZXR1cm4gcmVzb2x2ZSgpO1xuICAgIGNvbnN0IGRvbmUgPSAoKTogdm9pZCA9PiB7XG4gICAgICBjbGVhclRpbWVvdXQodGltZXIpO1xuICAgICAgc2lnbmFsPy5yZW1vdmVFdmVudExpc3RlbmVyKCdhYm9ydCcsIGRvbmUpO1xuICAgICAgcmVzb2x2ZSgpO1xuICAgIH07XG4gICAgY29uc3QgdGltZXIgPSBzZXRUaW1lb3V0KGRvbmUsIE1hdGguY2VpbChtcykpO1xuICAgIHNpZ25hbD8uYWRkRXZlbnRMaXN0ZW5lcignYWJvcnQnLCBkb25lLCB7IG9uY2U6IHRydWUgfSk7XG4gIH0pO1xufVxuIiwgIi8qKiBBIHJlZnVzYWwgaW4gcGxhaW4gd29yZHM6IHdoYXQgd2FzIHNlbnQgYXMgcHJvb2YsIHdoYXQgdGhlIHNlcnZlciBzYXlzIG9mIGl0LCBhbmQgd2hhdCB0byB0cnkuICovXG5pbXBvcnQgdHlwZSB7IFJlY2VpdmVkIH0gZnJvbSAnLi4vZXhjaGFuZ2UvcmVjZWl2ZWQuanMnO1xuaW1wb3J0IHR5cGUgeyBIZWFkZXJMaW5lIH0gZnJvbSAnLi4vZXhjaGFuZ2Uvd2lyZS5qcyc7XG5pbXBvcnQgeyBwcm9ibGVtVGV4dCB9IGZyb20gJy4uL2V4cGVjdGF0aW9uL2V4cGVjdGF0aW9ucy5qcyc7XG5pbXBvcnQgeyBuYW1lc1VzZWQgfSBmcm9tICcuLi9leHByZXNzaW9uL25hbWVzLXVzZWQuanMnO1xuaW1wb3J0IHsgaGVhZGVyVmFsdWUgfSBmcm9tICcuLi9wbGFjZS9vYnNlcnZlZC5qcyc7XG5pbXBvcnQgeyBkdXJhdGlvblRleHQgfSBmcm9tICcuLi92YWx1ZS9tZWFzdXJlcy5qcyc7XG5pbXBvcnQgdHlwZSB7IFZhbHVlIH0gZnJvbSAnLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgdHlwZSB7IFdvcmtzcGFjZSB9IGZyb20gJy4vd29ya3NwYWNlLmpzJztcblxuZXhwb3J0IGludGVyZmFjZSBSZWZ1c2FsIHtcbiAgLyoqIGByZWZ1c2VkYDogdGhlIHNlcnZlciBkb2VzIG5vdCBrbm93IHdobyBjYWxscyAoNDAxKTsgYGZvcmJpZGRlbmA6IGl0IGRvZXMgbm90IGFsbG93IHRoaXMgdG8gd2hvZXZlciBjYWxscyBzbyAoNDAzKS4gKi9cbiAgcmVhZG9ubHkga2luZDogJ3JlZnVzZWQnIHwgJ2ZvcmJpZGRlbic7XG4gIC8qKiBBIGxpbmUgZm9yIGVhY2ggc2Vzc2lvbjogaXRzIGtpbmQsIHdoZXJlIGl0cyBwcm9vZiBzdG9vZCwgYW5kIGl0cyBzZWNyZXRzIGJ5IG5hbWUuICovXG4gIHJlYWRvbmx5IHNlbnQ6IHJlYWRvbmx5IHN0cmluZ1tdO1xuICAvKiogV2hhdCB0aGUgc2VydmVyIHNheXMsIGJ5IGhlYWRlciBhbmQgYm9keS4gKi9cbiAgcmVhZG9ubHkgc2FpZDogcmVhZG9ubHkgc3RyaW5nW107XG4gIC8qKiBIb3cgZmFyIHRoZSBjbG9ja3MgYXJlIGFwYXJ0LCB3aGVyZSBpdCBtYXR0ZXJzLiAqL1xuICByZWFkb25seSBjbG9jazogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSByZW1lZGllczogcmVhZG9ubHkgc3RyaW5nW107XG59XG5cbi8qKiBDbG9ja3MgdGhhdCBhcmUgZnVydGhlciBhcGFydCBtYWtlIHNpZ25hdHVyZXMgYW5kIHRva2VucyB3aXRoIHRpbWVzIGZhaWwuIEluIG1pbGxpc2Vjb25kcy4gKi9cbmNvbnN0IGFwYXJ0ID0gNjBfMDAwO1xuXG4vKiogQHBhcmFtIGluc2lkZSB0aGUgYW5zd2VyIHJlZnVzZXMgaW4gaXRzIG93biB3b3Jkcywgd2hhdGV2ZXIgaXRzIHN0YXR1cyBAcmV0dXJucyB1bmRlZmluZWQgd2hlcmUgaXQgaXMgbm8gcmVmdXNhbCAqL1xuZXhwb3J0IGZ1bmN0aW9uIHJlZnVzYWxPZihcbiAgd29ya3NwYWNlOiBXb3Jrc3BhY2UsXG4gIHNlc3Npb25zOiByZWFkb25seSBzdHJpbmdbXSxcbiAgbGluZXM6IHJlYWRvbmx5IEhlYWRlckxpbmVbXSxcbiAgcmVjZWl2ZWQ6IFJlY2VpdmVkLFxuICBpbnNpZGU6IGJvb2xlYW4sXG4gIHNpZ25lZD86IHsgcmVhZG9ubHkgc2lnbmF0dXJlOiBzdHJpbmc7IHJlYWRvbmx5IHJlcXVlc3Q6IHN0cmluZyB9IHwgdW5kZWZpbmVkLFxuKTogUmVmdXNhbCB8IHVuZGVmaW5lZCB7XG4gIGNvbnN0IHsgc3RhdHVzIH0gPSByZWNlaXZlZDtcbiAgY29uc3Qga2luZCA9IHN0YXR1cyA9PT0gNDAzID8gJ2ZvcmJpZGRlbicgOiBzdGF0dXMgPT09IDQwMSB8fCBpbnNpZGUgPyAncmVmdXNlZCcgOiB1bmRlZmluZWQ7XG4gIGlmIChraW5kID09PSB1bmRlZmluZWQpIHJldHVybiB1bmRlZmluZWQ7XG4gIGNvbnN0IGNoYWxsZW5nZXMgPSBoZWFkZXJWYWx1ZShyZWNlaXZlZC5oZWFkZXJzLCAnd3d3LWF1dGhlbnRpY2F0ZScpO1xuICBjb25zdCBib2R5ID0gcHJvYmxlbVRleHQocmVjZWl2ZWQpO1xuICByZXR1cm4ge1xuICAgIGtpbmQsXG4gICAgc2VudDogW1xuICAgICAgLi4uc2Vzc2lvbnMubWFwKChuYW1lKSA9PiBwcm9vZk9mKHdvcmtzcGFjZSwgbmFtZSwgbGluZXMpKSxcbiAgICAgIC4uLihzaWduZWQgPyBbc2lnbmF0dXJlUHJvb2Yod29ya3NwYWNlLCBzaWduZWQuc2lnbmF0dXJlLCBsaW5lcyldIDogW10pLFxuICAgIF0sXG4gICAgc2FpZDogW2NoYWxsZW5nZXMsIGJvZHldLmZpbHRlcigob25lKSA9PiBvbmUgIT09IHVuZGVmaW5lZCksXG4gICAgY2xvY2s6IGNsb2NrT2YocmVjZWl2ZWQpLFxuICAgIHJlbWVkaWVzOlxuICAgICAgc2lnbmVkID09PSB1bmRlZmluZWRcbiAgICAgICAgPyByZW1lZGllc0Zvcih3b3Jrc3BhY2UsIGtpbmQsIHNlc3Npb25zLCBjaGFsbGVuZ2VzKVxuICAgICAgICA6IFtcbiAgICAgICAgICAgIC4uLihzZXNzaW9ucy5sZW5ndGggPiAwID8gcmVtZWRpZXNGb3Iod29ya3NwYWNlLCBraW5kLCBzZXNzaW9ucywgY2hhbGxlbmdlcykgOiBbXSksXG4gICAgICAgICAgICAuLi4oY2xvY2tPZihyZWNlaXZlZCkgIT09IHVuZGVmaW5lZCAmJiB3b3Jrc3BhY2UuZW52aXJvbm1lbnQuY2xvY2sgPT09ICdvd24nXG4gICAgICAgICAgICAgID8gWydjbG9jazogZm9sbG93LXNlcnZlciBpbiB0aGUgZW52aXJvbm1lbnQgc2lnbnMgd2l0aCB0aGUgdGltZSBvZiB0aGUgc2VydmVyJ11cbiAgICAgICAgICAgICAgOiBbXSksXG4gICAgICAgICAgICBgZWNoby10cmFpbCBwcmV2aWV3ICR7c2lnbmVkLnJlcXVlc3R9IC0tc2lnbmF0dXJlIHNob3dzIGhvdyBpdCBpcyBtYWRlOyAtLWFnYWluc3QgVEVYVCBjb21wYXJlcyBpdCB3aXRoIHdoYXQgdGhlIHZlbmRvciBzaG93c2AsXG4gICAgICAgICAgXSxcbiAgfTtcbn1cblxuLyoqIFdoYXQgc3Rvb2Qgd2hlcmUsIGFuZCB3aGljaCBzZWNyZXRzIGl0IHdhcyBtYWRlIGZyb207IG5ldmVyIHRoZWlyIHZhbHVlcy4gKi9cbmZ1bmN0aW9uIHByb29mT2YoeyBjb2xsZWN0aW9uIH06IFdvcmtzcGFjZSwgbmFtZTogc3RyaW5nLCBsaW5lczogcmVhZG9ubHkgSGVhZGVyTGluZVtdKTogc3RyaW5nIHtcbiAgY29uc3QgeyBjb250ZW50LCBuYW1lOiBmdWxsIH0gPSBjb2xsZWN0aW9uLnJlYWQoJ3Nlc3Npb24nLCBuYW1lKTtcbiAgY29uc3QgaGVhZGVycyA9IGxpbmVzLmZpbHRlcigoeyBvcmlnaW4gfSkgPT4gb3JpZ2luID09PSBgc2Vzc2lvbiAke2Z1bGx9YCkubWFwKChsaW5lKSA9PiBsaW5lLm5hbWUpO1xuICBjb25zdCB3aGVyZSA9XG4gICAgY29udGVudC5raW5kID09PSAnYXBpLWtleScgJiYgY29udGVudC5xdWVyeSAhPT0gdW5kZWZpbmVkXG4gICAgICA/IGB0aGUgcGFyYW1ldGVyICR7Y29udGVudC5xdWVyeX1gXG4gICAgICA6IGNvbnRlbnQua2luZCA9PT0gJ2NlcnRpZmljYXRlJ1xuICAgICAgICA/ICdhIGNsaWVudCBjZXJ0aWZpY2F0ZSdcbiAgICAgICAgOiBoZWFkZXJzLmxlbmd0aCA+IDBcbiAgICAgICAgICA/IGhlYWRlcnMuam9pbignLCAnKVxuICAgICAgICAgIDogY29udGVudC5zdXBwbHlcbiAgICAgICAgICAgID8gYHRoZSBuYW1lcyAke09iamVjdC5rZXlzKGNvbnRlbnQuc3VwcGx5KS5qb2luKCcsICcpfWBcbiAgICAgICAgICAgIDogJ25vdGhpbmcgeWV0JztcbiAgcmV0dXJuIGBzZXNzaW9uICR7ZnVsbH0gKCR7Y29udGVudC5raW5kfSk6ICR7d2hlcmV9JHttYWRlRnJvbShjb250ZW50KX1gO1xufVxuXG5mdW5jdGlvbiBzaWduYXR1cmVQcm9vZih7IGNvbGxlY3Rpb24gfTogV29ya3NwYWNlLCBuYW1lOiBzdHJpbmcsIGxpbmVzOiByZWFkb25seSBIZWFkZXJMaW5lW10pOiBzdHJpbmcge1xuICBjb25zdCB7IGNvbnRlbnQgfSA9IGNvbGxlY3Rpb24ucmVhZCgnc2lnbmF0dXJlJywgbmFtZSk7XG4gIGNvbnN0IGhlYWRlcnMgPSBsaW5lcy5maWx0ZXIoKHsgb3JpZ2luIH0pID0+IG9yaWdpbiA9PT0gYHNpZ25hdHVyZSAke25hbWV9YCkubWFwKChsaW5lKSA9PiBsaW5lLm5hbWUpO1xuICByZXR1cm4gYHNpZ25hdHVyZSAke25hbWV9ICgke2NvbnRlbnQua2luZCA/PyAncmVjaXBlJ30pOiAke2hlYWRlcnMuam9pbignLCAnKSB8fCAnaW4gdGhlIGFkZHJlc3Mgb3IgdGhlIGJvZHknfSR7bWFkZUZyb20oY29udGVudCl9YDtcbn1cblxuLyoqIEJ5IG5hbWU7IHRob3NlIG9mIGRvY3VtZW50ZWQgZXhhbXBsZXMgYXJlIG5vbmUuICovXG5mdW5jdGlvbiBzZWNyZXRzSW4oeyBleGFtcGxlczogXywgLi4uY29udGVudCB9OiBSZWNvcmQ8c3RyaW5nLCB1bmtub3duPik6IHN0cmluZ1tdIHtcbiAgcmV0dXJuIFsuLi5uZXcgU2V0KG5hbWVzVXNlZChjb250ZW50IGFzIFZhbHVlKS5mbGF0TWFwKCh7IHNlY3JldCB9KSA9PiBzZWNyZXQgPz8gW10pKV07XG59XG5cbmNvbnN0IG1hZGVGcm9tID0gKGNvbnRlbnQ6IG9iamVjdCk6IHN0cmluZyA9PiB7XG4gIGNvbnN0IHNlY3JldHMgPSBzZWNyZXRzSW4oeyAuLi5jb250ZW50IH0pLm1hcCgob25lKSA9PiBgc2VjcmV0ICR7b25lfWApO1xuICByZXR1cm4gc2VjcmV0cy5sZW5ndGggPiAwID8gYCwgbWFkZSBmcm9tICR7c2VjcmV0cy5qb2luKCcsICcpfWAgOiAnJztcbn07XG5cbi8qKiBSRkMgOTExMCwgc2VjdGlvbiA2LjYuMS4gKi9cbmZ1bmN0aW9uIGNsb2NrT2YoeyBoZWFkZXJzLCBwYXJ0cyB9OiBSZWNlaXZlZCk6IHN0cmluZyB8IHVuZGVmaW5lZCB7XG4gIGNvbnN0IGRhdGUgPSBEYXRlLnBhcnNlKGhlYWRlclZhbHVlKGhlYWRlcnMsICdkYXRlJykgPz8gJycpO1xuICBpZiAoTnVtYmVyLmlzTmFOKGRhdGUpKSByZXR1cm4gdW5kZWZpbmVkO1xuICBjb25zdCBhaGVhZCA9IGRhdGUgLSAoRGF0ZS5ub3coKSAtIHBhcnRzLnBoYXNlcy5yZWNlaXZpbmcpO1xuICBpZiAoTWF0aC5hYnMoYWhlYWQpIDwgYXBhcnQpIHJldHVybiB1bmRlZmluZWQ7XG4gIGNvbnN0IG1pbnV0ZXMgPSBNYXRoLnJvdW5kKE1hdGguYWJzKGFoZWFkKSAvIDYwXzAwMCkgKiA2MF8wMDA7XG4gIHJldHVybiBgdGhlIHNlcnZlcidzIGNsb2NrIGlzICR7ZHVyYXRpb25UZXh0KG1pbnV0ZXMpfSAke2FoZWFkID4gMCA/ICdhaGVhZCBvZicgOiAnYmVoaW5kJ30gdGhpcyBvbmU7IHByb29mcyB3aXRoIHRpbWVzIGluIHRoZW0gZmFpbGA7XG59XG5cbi8qKiBUaGUgc2NoZW1lIHRoYXQgYSBraW5kIHNwZWFrcywgZm9yIGNvbXBhcmlzb24gd2l0aCB3aGF0IHRoZSBzZXJ2ZXIgd2FudHMuICovXG5jb25zdCBzY2hlbWVzOiBSZWFkb25seTxSZWNvcmQ8c3RyaW5nLCBzdHJpbmc+PiA9IHtcbiAgYmFzaWM6ICdiYXNpYycsXG4gIGRpZ2VzdDogJ2RpZ2VzdCcsXG4gIGJlYXJlcjogJ2JlYXJlcicsXG4gIGxvZ2luOiAnYmVhcmVyJyxcbiAgb2F1dGgyOiAnYmVhcmVyJyxcbn07XG5cbmZ1bmN0aW9uIHJlbWVkaWVzRm9yKFxuICB7IGNvbGxlY3Rpb24gfTogV29ya3NwYWNlLFxuICBraW5kOiBSZWZ1c2FsWydraW5kJ10sXG4gIHNlc3Npb25zOiByZWFkb25seSBzdHJpbmdbXSxcbiAgY2hhbGxlbmdlczogc3RyaW5nIHwgdW5kZWZpbmVkLFxuKTogc3RyaW5nW10ge1xuICBjb25zdCB3YW50ZWQgPSAvXFxic2NvcGU9XCIoW15cIl0qKVwiLy5leGVjKGNoYWxsZW5nZXMgPz8gJycpPy5bMV07XG4gIGlmIChraW5kID09PSAnZm9yYmlkZGVuJykge1xuICAgIGlmIChzZXNzaW9ucy5sZW5ndGggPT09IDApIHJldHVybiBbbm9Qcm9vZihjb2xsZWN0aW9uLm5hbWVzKCdzZXNzaW9uJykpXTtcbiAgICBpZiAoL2luc3VmZmljaWVudF9zY29wZS8udGVzdChjaGFsbGVuZ2VzID8/ICcnKSlcbiAgICAgIHJldHVybiBbYHRoZSB0b2tlbiBsYWNrcyBhIHNjb3BlJHt3YW50ZWQgPyBgICgke3dhbnRlZH0pYCA6ICcnfTogc2NvcGU6IGluIHRoZSBzZXNzaW9uIGZpbGUgYXNrcyBmb3IgaXRgXTtcbiAgICByZXR1cm4gW1xuICAgICAgJ3RoZSBwcm9vZiBpcyBub3QgdGhlIG9uZSB0aGF0IGlzIHdhbnRlZCBoZXJlLCB0aGUgcmlnaHQgaXMgbWlzc2luZywgYWNjZXNzIGlzIG5vdCBlbmFibGVkIGZvciB0aGlzIGFjY291bnQsIG9yIHRoZSBhZGRyZXNzIG9mIHRoaXMgbWFjaGluZSBpcyBub3QgYWxsb3dlZDogYXNrIHRoZSB2ZW5kb3Igd2hpY2gnLFxuICAgIF07XG4gIH1cbiAgaWYgKHNlc3Npb25zLmxlbmd0aCA9PT0gMCkgcmV0dXJuIFtub1Byb29mKGNvbGxlY3Rpb24ubmFtZXMoJ3Nlc3Npb24nKSldO1xuICBjb25zdCBraW5kcyA9IHNlc3Npb25zLm1hcCgobmFtZSkgPT4gY29sbGVjdGlvbi5yZWFkKCdzZXNzaW9uJywgbmFtZSkuY29udGVudCk7XG4gIGNvbnN0IG9mZmVyZWQgPSBbLi4uKGNoYWxsZW5nZXMgPz8gJycpLm1hdGNoQWxsKC8oPzpefCxcXHMqKShbQS1aYS16XVtcXHctXSopKD89XFxzK1tcXHctXSs9fFxccyokfFxccyosKS9nKV0ubWFwKFxuICAgIChbLCBzY2hlbWVdKSA9PiAoc2NoZW1lIGFzIHN0cmluZykudG9Mb3dlckNhc2UoKSxcbiAgKTtcbiAgY29uc3Qgb3duID0ga2luZHMuZmxhdE1hcCgoY29udGVudCkgPT4gc2NoZW1lc1tjb250ZW50LmtpbmRdID8/IFtdKTtcbiAgY29uc3QgcmVtZWRpZXM6IHN0cmluZ1tdID0gW107XG4gIGlmIChvZmZlcmVkLmxlbmd0aCA+IDAgJiYgb3duLmxlbmd0aCA+IDAgJiYgIW93bi5zb21lKChzY2hlbWUpID0+IG9mZmVyZWQuaW5jbHVkZXMoc2NoZW1lKSkpXG4gICAgcmVtZWRpZXMucHVzaChgdGhlIHNlcnZlciB3YW50cyAke29mZmVyZWQuam9pbignIG9yICcpfSwgYW5kIHRoZSBzZXNzaW9uIHNwZWFrcyAke293bi5qb2luKCcsICcpfWApO1xuICBmb3IgKGNvbnN0IGNvbnRlbnQgb2Yga2luZHMpIHtcbiAgICBjb25zdCBzZWNyZXRzID0gc2VjcmV0c0luKGNvbnRlbnQpO1xuICAgIGNvbnN0IHNldCA9IHNlY3JldHMubWFwKChuYW1lKSA9PiBgZWNoby10cmFpbCBzZWNyZXQgc2V0ICR7bmFtZX1gKS5qb2luKCcsICcpO1xuICAgIGlmIChjb250ZW50LmtpbmQgPT09ICdsb2dpbicgfHwgY29udGVudC5raW5kID09PSAnb2F1dGgyJylcbiAgICAgIHJlbWVkaWVzLnB1c2goJ3RoZSBzZXNzaW9uIHdhcyBvcGVuZWQsIGFuZCBpdHMgdG9rZW4gaXMgbm90IHRha2VuOiBpcyBpdCBmb3IgdGhpcyBBUEksIGFuZCB0aGlzIGVudmlyb25tZW50PycpO1xuICAgIGVsc2UgaWYgKHNlY3JldHMubGVuZ3RoID4gMCkgcmVtZWRpZXMucHVzaChgaXMgdGhlIHNlY3JldCByaWdodCBhbmQgc3RpbGwgZ29vZD8gJHtzZXR9YCk7XG4gIH1cbiAgcmV0dXJuIHJlbWVkaWVzO1xufVxuXG5jb25zdCBub1Byb29mID0gKHNlc3Npb25zOiByZWFkb25seSBzdHJpbmdbXSk6IHN0cmluZyA9PlxuICBzZXNzaW9ucy5sZW5ndGggPT09IDBcbiAgICA/ICdubyBwcm9vZiB3YXMgc2VudDsgc2Vzc2lvbnMvTkFNRS55YW1sIGRlc2NyaWJlcyBvbmUnXG4gICAgOiBgbm8gcHJvb2Ygd2FzIHNlbnQ6IC0tc2Vzc2lvbiBOQU1FLCBvciBzZXNzaW9uOiBpbiB0aGUgcmVxdWVzdDsgdGhlcmUgYXJlICR7c2Vzc2lvbnMuam9pbignLCAnKX1gO1xuIiwgIi8qKiBTaWduaW5nIGEgcmVxdWVzdCBhdCB0aGUgbGFzdCBtb21lbnQ6IGVhY2ggdHJ5LCBhbmQgZWFjaCByZWRpcmVjdCB0aGF0IGlzIGZvbGxvd2VkLCBhbmV3LiAqL1xuaW1wb3J0IHsgdmFyaWFibGVOYW1lcyB9IGZyb20gJy4uL2NvbGxlY3Rpb24vbGF5ZXJzLmpzJztcbmltcG9ydCB0eXBlIHsgUmVjZWl2ZWQgfSBmcm9tICcuLi9leGNoYW5nZS9yZWNlaXZlZC5qcyc7XG5pbXBvcnQgdHlwZSB7IFdpcmVSZXF1ZXN0IH0gZnJvbSAnLi4vZXhjaGFuZ2Uvd2lyZS5qcyc7XG5pbXBvcnQgeyBwZXJjZW50RW5jb2RlIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi9maWx0ZXJzL3RleHQuanMnO1xuaW1wb3J0IHR5cGUgeyBOYW1lcyB9IGZyb20gJy4uL2V4cHJlc3Npb24vbmFtZXMuanMnO1xuaW1wb3J0IHR5cGUgeyBXb3JsZCB9IGZyb20gJy4uL2V4cHJlc3Npb24vd29ybGQuanMnO1xuaW1wb3J0IHR5cGUgeyBQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB0eXBlIHsgU2lnbmVkLCBTaWduZXIsIFNpZ25pbmdSb29tIH0gZnJvbSAnLi4vc2lnbmF0dXJlL3NpZ25hdHVyZS1raW5kLmpzJztcbmltcG9ydCB7IHRleHRPZiB9IGZyb20gJy4uL3ZhbHVlL3RleHQuanMnO1xuaW1wb3J0IHR5cGUgeyBWYWx1ZSB9IGZyb20gJy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHR5cGUgeyBXb3Jrc3BhY2UgfSBmcm9tICcuL3dvcmtzcGFjZS5qcyc7XG5cbmV4cG9ydCBpbnRlcmZhY2UgU2VhbCB7XG4gIHJlYWRvbmx5IHNpZ25lcjogU2lnbmVyO1xuICAvKipcbiAgICogQHBhcmFtIGxvb2sgZm9yIHNvbWVib2R5IHdobyBsb29rczogd2hhdCBtYXkgYmUgc2VlbiBvZiBlYWNoIHN0ZXAgaXMgdG9sZCwgYW5kIHdoYXQgbmVlZHMgYSBzZWNyZXQgdGhhdCBpcyBub3Qgc2V0IGlzIGxlZnQgb3V0XG4gICAqIEB0aHJvd3MgUHJvYmxlbTogdGhlIHNpZ25hdHVyZSBjYW5ub3QgYmUgbWFkZVxuICAgKi9cbiAgc2lnbih3aXJlOiBXaXJlUmVxdWVzdCwgbG9vaz86ICdsb29rJyk6IFNpZ25lZDtcbiAgLyoqIFdoeSB0aGUgYW5zd2VyIGlzIG5vdCB0byBiZSB0cnVzdGVkLiAqL1xuICBkaXN0cnVzdChyZWNlaXZlZDogUmVjZWl2ZWQsIHNlbnQ6IFdpcmVSZXF1ZXN0KTogUHJvYmxlbSB8IHVuZGVmaW5lZDtcbiAgLyoqIEhpZGVzIHdoYXQgYW4gYW5zd2VyIHJlcGVhdHMgb2YgdGhlIHNpZ25hdHVyZXM6IGVsc2V3aGVyZSB0aGV5IGFyZSBoaWRkZW4gYnkgdGhlaXIgcGxhY2UuICovXG4gIGhpZGUocmVjZWl2ZWQ6IFJlY2VpdmVkKTogdm9pZDtcbn1cblxuLyoqIEEgZmlyc3QgdHJ5IGlzIG1hZGUgd2l0aCB0aGUgbW9tZW50IG9mIGl0cyByZXF1ZXN0LCBhcyBsb25nIGFzIHRoYXQgaXMgdGhlIHByZXNlbnQuIE1pbGxpc2Vjb25kcy4gKi9cbmNvbnN0IHByZXNlbnQgPSAxMDAwO1xuXG4vKiogQHBhcmFtIHdvcmxkIG9mIHRoZSByZXF1ZXN0IHRoYXQgaXMgc2lnbmVkICovXG5leHBvcnQgZnVuY3Rpb24gc2VhbEZvcih3b3Jrc3BhY2U6IFdvcmtzcGFjZSwgc2lnbmVyOiBTaWduZXIsIHdvcmxkOiBXb3JsZCwgY2FsbGVyOiBOYW1lcyk6IFNlYWwge1xuICBjb25zdCB7IGxheWVycywgZW52aXJvbm1lbnQsIGNsb2NrcywgbW9tZW50LCByZWRhY3RvciB9ID0gd29ya3NwYWNlO1xuICBsZXQgZmlyc3QgPSB0cnVlO1xuICAvLyBBIHJ1biBtYWtlcyB0aG91c2FuZHMgb2Ygc2lnbmF0dXJlczogb25seSBvbmUgdGhhdCBjb21lcyBiYWNrIGlzIGEgc2VjcmV0IHRvIGxvb2sgZm9yLlxuICBjb25zdCBkZXJpdmVkID0gbmV3IFNldDxzdHJpbmc+KCk7XG4gIGNvbnN0IG9uU2VjcmV0ID0gKHZhbHVlOiBWYWx1ZSk6IHZvaWQgPT4ge1xuICAgIGlmICghKHZhbHVlIGluc3RhbmNlb2YgVWludDhBcnJheSkpIGRlcml2ZWQuYWRkKHRleHRPZih2YWx1ZSkpO1xuICB9O1xuICBjb25zdCByb29tID0gKHdpcmU6IFdpcmVSZXF1ZXN0KTogU2lnbmluZ1Jvb20gPT4ge1xuICAgIGNvbnN0IGFoZWFkID0gZW52aXJvbm1lbnQuY2xvY2sgPT09ICdmb2xsb3ctc2VydmVyJyAmJiBtb21lbnQ/Lm5vdyA9PT0gdW5kZWZpbmVkID8gY2xvY2tzLmFoZWFkKHdpcmUudXJsLmhvc3QpIDogMDtcbiAgICBjb25zdCBmcmVzaCA9IGZpcnN0ICYmIGFoZWFkID09PSAwICYmIChtb21lbnQ/Lm5vdyAhPT0gdW5kZWZpbmVkIHx8IERhdGUubm93KCkgLSB3b3JsZC5ub3cuZ2V0VGltZSgpIDwgcHJlc2VudCk7XG4gICAgY29uc3Qgb3duID0gZnJlc2ggPyB3b3JsZCA6IHdvcmxkLmFnYWluKHsgbm93OiBtb21lbnQ/Lm5vdyA/PyBuZXcgRGF0ZShEYXRlLm5vdygpICsgYWhlYWQpLCBub25jZTogbW9tZW50Py5ub25jZSB9KTtcbiAgICBmaXJzdCA9IGZhbHNlO1xuICAgIHJldHVybiB7IHdvcmxkOiBvd24sIHZhcmlhYmxlczogdmFyaWFibGVOYW1lcyhsYXllcnMsIGNhbGxlciwgeyB3b3JsZDogb3duLCBvblNlY3JldCB9KSwgb25TZWNyZXQgfTtcbiAgfTtcbiAgcmV0dXJuIHtcbiAgICBzaWduZXIsXG4gICAgc2lnbjogKHdpcmUsIGxvb2spID0+IHNpZ25lci5zaWduKHdpcmUsIGxvb2sgPyB7IC4uLnJvb20od2lyZSksIGxvb2s6IHRydWUgfSA6IHJvb20od2lyZSkpLFxuICAgIGRpc3RydXN0OiAocmVjZWl2ZWQsIHNlbnQpID0+IHNpZ25lci52ZXJpZnk/LihyZWNlaXZlZCwgc2VudCwgcm9vbShzZW50KSksXG4gICAgaGlkZShyZWNlaXZlZCkge1xuICAgICAgZm9yIChjb25zdCB0ZXh0IG9mIGRlcml2ZWQpIHtcbiAgICAgICAgaWYgKHRleHQubGVuZ3RoIDwgOCkgY29udGludWU7XG4gICAgICAgIGNvbnN0IGluQWRkcmVzcyA9IHBlcmNlbnRFbmNvZGUodGV4dCk7XG4gICAgICAgIGNvbnN0IHJlcGVhdHMgPSAob25lOiBzdHJpbmcpOiBib29sZWFuID0+XG4gICAgICAgICAgb25lLmxlbmd0aCA+PSB0ZXh0Lmxlbmd0aCAmJiAob25lLmluY2x1ZGVzKHRleHQpIHx8IChpbkFkZHJlc3MgIT09IHRleHQgJiYgb25lLmluY2x1ZGVzKGluQWRkcmVzcykpKTtcbiAgICAgICAgaWYgKHJlY2VpdmVkLmhlYWRlcnMuc29tZSgoWywgdmFsdWVdKSA9PiByZXBlYXRzKHZhbHVlKSkgfHwgKHJlY2VpdmVkLnRleHR1YWwgJiYgcmVwZWF0cyhyZWNlaXZlZC50ZXh0KSkpXG4gICAgICAgICAgcmVkYWN0b3IuYWRkKHRleHQpO1xuICAgICAgfVxuICAgIH0sXG4gIH07XG59XG4iLCAiLyoqIFdoZXRoZXIgYSBjYWxsIG1heSBiZSBzZW50IG9uY2UgbW9yZSBhbHRob3VnaCB0aGUgZmlyc3QgbWF5IGhhdmUgYmVlbiBkb25lLiAqL1xuXG4vKiogQmVzaWRlIHRob3NlIHRoYXQgY2hhbmdlIG5vdGhpbmc6IGEgc2Vjb25kIG9uZSBjaGFuZ2VzIG5vdGhpbmcgdGhhdCB0aGUgZmlyc3QgaGFzIG5vdCAoUkZDIDkxMTAgc2VjdGlvbiA5LjIuMikuICovXG5jb25zdCBpZGVtcG90ZW50ID0gbmV3IFNldChbJ1BVVCcsICdERUxFVEUnXSk7XG5cbmV4cG9ydCBjb25zdCBpc1JlcGVhdGFibGUgPSAoe1xuICBtZXRob2QsXG4gIGNoYW5nZXMsXG4gIGlkZW1wb3RlbmN5S2V5LFxufToge1xuICByZWFkb25seSBtZXRob2Q6IHN0cmluZztcbiAgcmVhZG9ubHkgY2hhbmdlczogYm9vbGVhbjtcbiAgcmVhZG9ubHkgaWRlbXBvdGVuY3lLZXk6IHN0cmluZyB8IHVuZGVmaW5lZDtcbn0pOiBib29sZWFuID0+ICFjaGFuZ2VzIHx8IGlkZW1wb3RlbnQuaGFzKG1ldGhvZCkgfHwgaWRlbXBvdGVuY3lLZXkgIT09IHVuZGVmaW5lZDtcbiIsICIvKiogV2hhdCBzZW5kaW5nIGFnYWluIG5lZWRzIHRvIGtub3cgb2YgYSByZXF1ZXN0LCBpdHMgc3RlcCBhbmQgaXRzIGVudmlyb25tZW50LiAqL1xuaW1wb3J0IHR5cGUgeyBPdXRjb21lIH0gZnJvbSAnLi4vZXhjaGFuZ2UvdHJhbnNwb3J0LmpzJztcbmltcG9ydCB7IHR5cGUgRXhwZWN0YXRpb24sIGp1ZGdlIH0gZnJvbSAnLi4vZXhwZWN0YXRpb24vZXhwZWN0YXRpb25zLmpzJztcbmltcG9ydCB0eXBlIHsgRXZhbHVhdGlvbiB9IGZyb20gJy4uL2V4cHJlc3Npb24vZXZhbHVhdGlvbi5qcyc7XG5pbXBvcnQgdHlwZSB7IE5hbWVzIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi9uYW1lcy5qcyc7XG5pbXBvcnQgdHlwZSB7IENvbnZlcnNhdGlvbiB9IGZyb20gJy4vY29udmVyc2UuanMnO1xuaW1wb3J0IHR5cGUgeyBUcnlSb29tIH0gZnJvbSAnLi9wYWNpbmcvdHJpZXMuanMnO1xuaW1wb3J0IHR5cGUgeyBQcmVwYXJlZFJlcXVlc3QgfSBmcm9tICcuL3ByZXBhcmUuanMnO1xuaW1wb3J0IHsgaXNSZXBlYXRhYmxlIH0gZnJvbSAnLi9yZXBlYXRhYmxlLmpzJztcbmltcG9ydCB0eXBlIHsgU2VuZGluZyB9IGZyb20gJy4vc2VuZGluZy5qcyc7XG5pbXBvcnQgdHlwZSB7IFdvcmtzcGFjZSB9IGZyb20gJy4vd29ya3NwYWNlLmpzJztcblxuZXhwb3J0IGZ1bmN0aW9uIHRyeVJvb20oXG4gIHdvcmtzcGFjZTogV29ya3NwYWNlLFxuICBwcmVwYXJlZDogUHJlcGFyZWRSZXF1ZXN0LFxuICB7IGV4cGVjdGF0aW9ucyA9IFtdLCBjYWxsZXIsIHNpZ25hbCB9OiBTZW5kaW5nLFxuICB7IHJlcXVlc3QsIGJhcmUgfTogQ29udmVyc2F0aW9uLFxuICBldmFsdWF0aW9uOiAobmFtZXM/OiBOYW1lcykgPT4gRXZhbHVhdGlvbixcbik6IFRyeVJvb20ge1xuICBjb25zdCB7IGhvc3QgfSA9IGJhcmUudXJsO1xuICBjb25zdCBwb2xpY3kgPSBwcmVwYXJlZC5yZXRyeSA/IHByZXBhcmVkLnJldHJ5LnBvbGljeSA6IHdvcmtzcGFjZS5yZXRyeTtcbiAgY29uc3QgaG9sZHMgPSBhc3luYyAod2FudGVkOiByZWFkb25seSBFeHBlY3RhdGlvbltdLCB7IHJlY2VpdmVkIH06IE91dGNvbWUsIG93bjogRXZhbHVhdGlvbik6IFByb21pc2U8Ym9vbGVhbj4gPT5cbiAgICByZWNlaXZlZCAhPT0gdW5kZWZpbmVkICYmXG4gICAgKGF3YWl0IGp1ZGdlKHdhbnRlZCwgcmVjZWl2ZWQsIG93biwgeyBkb2N1bWVudGVkOiAoKSA9PiB1bmRlZmluZWQgfSkpLmV2ZXJ5KCh7IG9rIH0pID0+IG9rKTtcbiAgY29uc3Qgb25TdGF0dXMgPSAob2Y6IHJlYWRvbmx5IEV4cGVjdGF0aW9uW10pOiBFeHBlY3RhdGlvbltdID0+IG9mLmZpbHRlcigoeyBwbGFjZSB9KSA9PiBwbGFjZS50ZXh0ID09PSAnc3RhdHVzJyk7XG4gIHJldHVybiB7XG4gICAgZ2F0ZTogd29ya3NwYWNlLmdhdGUoaG9zdCksXG4gICAgaG9zdCxcbiAgICBwb2xpY3ksXG4gICAgcmVwZWF0YWJsZTogaXNSZXBlYXRhYmxlKHJlcXVlc3QpLFxuICAgIHNpZ25hbCxcbiAgICBwYXRpZW5jZTogd29ya3NwYWNlLnBhdGllbmNlLFxuICAgIG9uV2FpdDogd29ya3NwYWNlLm9uV2FpdCxcbiAgICBhc3luYyBleHBlY3RlZChvdXRjb21lKSB7XG4gICAgICBjb25zdCBbb2ZTdGVwLCBvd25dID0gW29uU3RhdHVzKGV4cGVjdGF0aW9ucyksIG9uU3RhdHVzKHByZXBhcmVkLmV4cGVjdGF0aW9ucyldO1xuICAgICAgLy8gV2hhdCBhIHN0ZXAgc2F5cyBvZiB0aGUgc3RhdHVzIHN0YW5kcyBpbiBwbGFjZSBvZiB3aGF0IGl0cyByZXF1ZXN0IHNheXMuXG4gICAgICBpZiAob2ZTdGVwLmxlbmd0aCA+IDApIHJldHVybiBob2xkcyhvZlN0ZXAsIG91dGNvbWUsIGV2YWx1YXRpb24oY2FsbGVyKSk7XG4gICAgICByZXR1cm4gb3duLmxlbmd0aCA+IDAgJiYgaG9sZHMob3duLCBvdXRjb21lLCBldmFsdWF0aW9uKCkpO1xuICAgIH0sXG4gICAgYnVzeTogKG91dGNvbWUpID0+IGhvbGRzKHBvbGljeT8uYnVzeSA/PyBbXSwgb3V0Y29tZSwgZXZhbHVhdGlvbigpKSxcbiAgfTtcbn1cbiIsICIvKiogT25lIHNlbmRpbmcsIGZyb20gbmFtZXMgdG8gZWNobzogcmVzb2x2ZSwgYXR0YWNoIHNlc3Npb25zLCBjb21wb3NlLCBzZW5kLCBqdWRnZSwga2VlcCwgcmVjb3JkLiAqL1xuaW1wb3J0IHsgZmluZE9wZXJhdGlvbiB9IGZyb20gJy4uL2NvbGxlY3Rpb24vc291cmNlLWluZGV4LmpzJztcbmltcG9ydCB0eXBlIHsgTWlzbWF0Y2ggfSBmcm9tICcuLi9kb2N1bWVudGF0aW9uL21pc21hdGNoLmpzJztcbmltcG9ydCB7IHJlY29yZEVjaG8gfSBmcm9tICcuLi9lY2hvL3JlY29yZC5qcyc7XG5pbXBvcnQgeyByZXF1ZXN0TWlzbWF0Y2hlcyB9IGZyb20gJy4uL2V4Y2hhbmdlL2FnYWluc3QtZG9jdW1lbnRhdGlvbi5qcyc7XG5pbXBvcnQgeyBjZXJ0aWZpY2F0ZU9mIH0gZnJvbSAnLi4vZXhjaGFuZ2UvY2VydGlmaWNhdGUuanMnO1xuaW1wb3J0IHsgdHlwZSBHaXZpbmcsIHJlc29sdmVSZXF1ZXN0IH0gZnJvbSAnLi4vZXhjaGFuZ2UvcmVzb2x2ZS5qcyc7XG5pbXBvcnQgdHlwZSB7IFJlc29sdmVkUmVxdWVzdCwgV2lyZVJlcXVlc3QgfSBmcm9tICcuLi9leGNoYW5nZS93aXJlLmpzJztcbmltcG9ydCB7IHRha2VLZWVwcyB9IGZyb20gJy4uL2V4cGVjdGF0aW9uL2tlZXBzLmpzJztcbmltcG9ydCB7IEV2YWx1YXRpb24gfSBmcm9tICcuLi9leHByZXNzaW9uL2V2YWx1YXRpb24uanMnO1xuaW1wb3J0IHsgdHlwZSBOYW1lcywgbm9OYW1lcyB9IGZyb20gJy4uL2V4cHJlc3Npb24vbmFtZXMuanMnO1xuaW1wb3J0IHsgYXNBbnN3ZXIgfSBmcm9tICcuLi9wbGFjZS9vYnNlcnZlZC5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB0eXBlIHsgU2lnbmVyIH0gZnJvbSAnLi4vc2lnbmF0dXJlL3NpZ25hdHVyZS1raW5kLmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUgfSBmcm9tICcuLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB7IHR5cGUgQXR0ZW1wdCwgY29tcG9zZWQsIGphckZvciB9IGZyb20gJy4vYXR0ZW1wdC5qcyc7XG5pbXBvcnQgeyB0eXBlIENvbnZlcnNhdGlvbiwgY29udmVyc2UsIHdvcmtPdXRBbmV3IH0gZnJvbSAnLi9jb252ZXJzZS5qcyc7XG5pbXBvcnQgeyBkb3VidHNPZiB9IGZyb20gJy4vZG91YnRzLmpzJztcbmltcG9ydCB7IHR5cGUgSnVkZ2VkLCBqdWRnZU91dGNvbWUgfSBmcm9tICcuL2p1ZGdlLW91dGNvbWUuanMnO1xuaW1wb3J0IHsgaW5UcmllcyB9IGZyb20gJy4vcGFjaW5nL3RyaWVzLmpzJztcbmltcG9ydCB0eXBlIHsgUHJlcGFyZWRSZXF1ZXN0IH0gZnJvbSAnLi9wcmVwYXJlLmpzJztcbmltcG9ydCB7IHJlZnVzYWxPZiB9IGZyb20gJy4vcmVmdXNhbC5qcyc7XG5pbXBvcnQgeyBzZWFsRm9yIH0gZnJvbSAnLi9zZWFsLmpzJztcbmltcG9ydCB0eXBlIHsgUHJldmlldywgU2VuZGluZywgU2VudCB9IGZyb20gJy4vc2VuZGluZy5qcyc7XG5pbXBvcnQgeyBzdXBwbGllZE5hbWVzIH0gZnJvbSAnLi9zdXBwbHkuanMnO1xuaW1wb3J0IHsgdHJ5Um9vbSB9IGZyb20gJy4vdHJ5LXJvb20uanMnO1xuaW1wb3J0IHR5cGUgeyBXb3Jrc3BhY2UgfSBmcm9tICcuL3dvcmtzcGFjZS5qcyc7XG5cbmZ1bmN0aW9uIGdpdmluZ09mKFxuICB3b3Jrc3BhY2U6IFdvcmtzcGFjZSxcbiAgeyBnaXZlbiwgY2FsbGVyLCBpZGVtcG90ZW5jeUtleSwgYWRkcmVzcyB9OiBQaWNrPFNlbmRpbmcsICdnaXZlbicgfCAnY2FsbGVyJyB8ICdpZGVtcG90ZW5jeUtleScgfCAnYWRkcmVzcyc+LFxuICBzdXBwbGllZD86IE5hbWVzLFxuKTogR2l2aW5nICYgeyBzdXBwbGllZDogTmFtZXMgfCB1bmRlZmluZWQgfSB7XG4gIGNvbnN0IHsgbGF5ZXJzLCByZWRhY3RvciwgdGltZW91dCwgY29ubmVjdGlvbiB9ID0gd29ya3NwYWNlO1xuICBjb25zdCB3b3JsZCA9IHdvcmtzcGFjZS53b3JsZCgpO1xuICBjb25zdCBvblNlY3JldCA9IHJlZGFjdG9yLmFkZDtcbiAgcmV0dXJuIHsgbGF5ZXJzLCBnaXZlbiwgY2FsbGVyLCB0aW1lb3V0LCBjb25uZWN0aW9uLCB3b3JsZCwgb25TZWNyZXQsIGlkZW1wb3RlbmN5S2V5LCBhZGRyZXNzLCBzdXBwbGllZCB9O1xufVxuXG4vKiogQHRocm93cyBQcm9ibGVtOiB3aGF0ZXZlciBrZWVwcyB0aGUgcmVxdWVzdCBmcm9tIGJlaW5nIHdyaXR0ZW4gKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiBwcmV2aWV3UmVxdWVzdChcbiAgd29ya3NwYWNlOiBXb3Jrc3BhY2UsXG4gIHByZXBhcmVkOiBQcmVwYXJlZFJlcXVlc3QsXG4gIHNlbmRpbmc6IFBpY2s8U2VuZGluZywgJ2dpdmVuJyB8ICdjYWxsZXInIHwgJ3Nlc3Npb25zJyB8ICdzaWduYXR1cmUnIHwgJ25vQ29va2llcyc+LFxuKTogUHJvbWlzZTxQcmV2aWV3PiB7XG4gIGNvbnN0IHNlc3Npb25zID0gc2VuZGluZy5zZXNzaW9ucyA/PyBwcmVwYXJlZC5wbGFuLnNlc3Npb25zO1xuICBjb25zdCBnaXZpbmcgPSBnaXZpbmdPZih3b3Jrc3BhY2UsIHNlbmRpbmcpO1xuICBjb25zdCB7IHJlcXVlc3QgfSA9IHJlc29sdmVSZXF1ZXN0KHByZXBhcmVkLnBsYW4sIHtcbiAgICAuLi5naXZpbmcsXG4gICAgc3VwcGxpZWQ6IGF3YWl0IHN1cHBsaWVkTmFtZXMod29ya3NwYWNlLCBzZXNzaW9ucywgZmFsc2UpLFxuICAgIHdpdGhPcmlnaW5zOiB0cnVlLFxuICB9KTtcbiAgY29uc3QgeyBsaW5lcywgcXVlcnksIG5vdE9wZW4gfSA9IGF3YWl0IHdvcmtzcGFjZS5zZXNzaW9ucy5wZWVrKHNlc3Npb25zKTtcbiAgY29uc3QgYmFyZSA9IGNvbXBvc2VkKHdvcmtzcGFjZSwgcmVxdWVzdCwgbGluZXMsIHF1ZXJ5KTtcbiAgY29uc3QgY29va2llID0gKGF3YWl0IGphckZvcih3b3Jrc3BhY2UsIHNlc3Npb25zLCBzZW5kaW5nLm5vQ29va2llcykpLmxpbmUoYmFyZS51cmwpO1xuICBjb25zdCB1bnNpZ25lZCA9IGNvb2tpZSA/IGNvbXBvc2VkKHdvcmtzcGFjZSwgcmVxdWVzdCwgWy4uLmxpbmVzLCBjb29raWVdLCBxdWVyeSkgOiBiYXJlO1xuICBjb25zdCBzaWduZXIgPSBhd2FpdCBzaWduZXJGb3Iod29ya3NwYWNlLCBwcmVwYXJlZCwgc2VuZGluZy5zaWduYXR1cmUpO1xuICBjb25zdCBzZWFsID0gc2lnbmVyICYmIHNlYWxGb3Iod29ya3NwYWNlLCBzaWduZXIsIGdpdmluZy53b3JsZCwgc2VuZGluZy5jYWxsZXIpO1xuICBjb25zdCBzaWduZWQgPSBzZWFsPy5zaWduKHVuc2lnbmVkLCAnbG9vaycpO1xuICByZXR1cm4ge1xuICAgIHJlcXVlc3QsXG4gICAgbm90T3BlbixcbiAgICBkb3VidHM6IGRvdWJ0c09mKGJhcmUsIHdvcmtzcGFjZSksXG4gICAgd2lyZTogc2lnbmVkPy53aXJlID8/IHVuc2lnbmVkLFxuICAgIHNpZ25lZDogc2VhbCAmJlxuICAgICAgc2lnbmVkICYmIHtcbiAgICAgICAgbmFtZTogc2VhbC5zaWduZXIubmFtZSxcbiAgICAgICAgc3RlcHM6IHNpZ25lZC5zdGVwcyxcbiAgICAgICAgbWlzc2luZzogc2lnbmVkLm1pc3NpbmcsXG4gICAgICAgIGNsb2NrOiB7XG4gICAgICAgICAgYWhlYWQ6IHdvcmtzcGFjZS5jbG9ja3MuYWhlYWQoYmFyZS51cmwuaG9zdCksXG4gICAgICAgICAgZm9sbG93ZWQ6IHdvcmtzcGFjZS5lbnZpcm9ubWVudC5jbG9jayA9PT0gJ2ZvbGxvdy1zZXJ2ZXInICYmIHdvcmtzcGFjZS5tb21lbnQ/Lm5vdyA9PT0gdW5kZWZpbmVkLFxuICAgICAgICB9LFxuICAgICAgfSxcbiAgfTtcbn1cblxuLyoqIHVuZGVmaW5lZCB3aGVyZSB0aGUgcmVxdWVzdCBpcyBub3Qgc2lnbmVkLiBAcGFyYW0gZ2l2ZW4gaW4gcGxhY2Ugb2Ygd2hhdCBpdHMgZmlsZSBzYXlzICovXG5hc3luYyBmdW5jdGlvbiBzaWduZXJGb3IoXG4gIHdvcmtzcGFjZTogV29ya3NwYWNlLFxuICBwcmVwYXJlZDogUHJlcGFyZWRSZXF1ZXN0LFxuICBnaXZlbjogc3RyaW5nIHwgdW5kZWZpbmVkLFxuKTogUHJvbWlzZTxTaWduZXIgfCB1bmRlZmluZWQ+IHtcbiAgaWYgKGdpdmVuID09PSB1bmRlZmluZWQpIHJldHVybiBwcmVwYXJlZC5zaWduZXI7XG4gIHJldHVybiBnaXZlbiA9PT0gJ25vbmUnID8gdW5kZWZpbmVkIDogd29ya3NwYWNlLnNpZ25lcihnaXZlbik7XG59XG5cbi8qKlxuICogU2VuZHMgYSByZXF1ZXN0IGFuZCByZWNvcmRzIGl0cyBlY2hvLiBXaGF0IHRoZSBuZXR3b3JrIGRvZXMgaXMgcGFydCBvZiB0aGUgcmVzdWx0LlxuICogQHRocm93cyBQcm9ibGVtOiB3aGF0ZXZlciBrZWVwcyB0aGUgcmVxdWVzdCBmcm9tIGJlaW5nIHNlbnRcbiAqL1xuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIHNlbmRSZXF1ZXN0KHdvcmtzcGFjZTogV29ya3NwYWNlLCBwcmVwYXJlZDogUHJlcGFyZWRSZXF1ZXN0LCBzZW5kaW5nOiBTZW5kaW5nKTogUHJvbWlzZTxTZW50PiB7XG4gIGlmICh3b3Jrc3BhY2UuZHJ5UnVuKSByZXR1cm4gdW5zZW50KHdvcmtzcGFjZSwgcHJlcGFyZWQsIHNlbmRpbmcpO1xuICBjb25zdCBzZXNzaW9ucyA9IHNlbmRpbmcuc2Vzc2lvbnMgPz8gcHJlcGFyZWQucGxhbi5zZXNzaW9ucztcbiAgLy8gQmVmb3JlIGl0IGlzIGNsZWFyIHRoYXQgdGhlIHJlcXVlc3QgbWF5IGxlYXZlLCBubyBzZXNzaW9uIGlzIG9wZW5lZCBmb3IgaXQuXG4gIGNvbnN0IHN1cHBsaWVkID0gc2Vzc2lvbnMubGVuZ3RoID4gMCA/IGF3YWl0IHN1cHBsaWVkTmFtZXMod29ya3NwYWNlLCBzZXNzaW9ucywgZmFsc2UpIDogdW5kZWZpbmVkO1xuICBjb25zdCBnaXZpbmcgPSBnaXZpbmdPZih3b3Jrc3BhY2UsIHNlbmRpbmcsIHN1cHBsaWVkKTtcbiAgbGV0IHsgcmVxdWVzdCwgbmFtZXMsIGlucHV0cyB9ID0gcmVzb2x2ZVJlcXVlc3QocHJlcGFyZWQucGxhbiwgZ2l2aW5nKTtcbiAgbGV0IGJhcmUgPSBjb21wb3NlZCh3b3Jrc3BhY2UsIHJlcXVlc3QsIHNlbmRpbmcubGluZXMgPz8gW10pO1xuICBpZiAoc2VuZGluZy5vbkFjY2VwdGVkKSB7XG4gICAgYXdhaXQgYWNjZXB0Q2VydGlmaWNhdGUod29ya3NwYWNlLCBiYXJlLCBzZW5kaW5nLm9uQWNjZXB0ZWQpO1xuICAgIGJhcmUgPSBjb21wb3NlZCh3b3Jrc3BhY2UsIHJlcXVlc3QsIHNlbmRpbmcubGluZXMgPz8gW10pO1xuICB9XG4gIGlmIChzZXNzaW9ucy5sZW5ndGggPiAwKSB3b3Jrc3BhY2UuaG9zdHMuZGVtYW5kKGJhcmUudXJsLCBgdGhlIHNlc3Npb24gJHtzZXNzaW9ucy5qb2luKCcsICcpfWApO1xuICBjb25zdCBzaWduZXIgPVxuICAgIHNlbmRpbmcuc2lnbmF0dXJlID09PSB1bmRlZmluZWQgPyBwcmVwYXJlZC5zaWduZXIgOiBhd2FpdCBzaWduZXJGb3Iod29ya3NwYWNlLCBwcmVwYXJlZCwgc2VuZGluZy5zaWduYXR1cmUpO1xuICBjb25zdCBzZWFsID0gc2lnbmVyICYmIHNlYWxGb3Iod29ya3NwYWNlLCBzaWduZXIsIGdpdmluZy53b3JsZCwgc2VuZGluZy5jYWxsZXIpO1xuICBpZiAoc2VhbCkgd29ya3NwYWNlLmhvc3RzLmRlbWFuZChiYXJlLnVybCwgYHRoZSBzaWduYXR1cmUgJHtzZWFsLnNpZ25lci5uYW1lfWApO1xuICBpZiAocmVxdWVzdC5jaGFuZ2VzIHx8IGNoYW5nZXNCeURvY3VtZW50YXRpb24od29ya3NwYWNlLCBwcmVwYXJlZCkpXG4gICAgYXdhaXQgd29ya3NwYWNlLmRlbWFuZENoYW5nZSh7IGhvc3Q6IGJhcmUudXJsLmhvc3QsIG1ldGhvZDogcmVxdWVzdC5tZXRob2QsIHVybDogYmFyZS5zaG93blVybCB9KTtcblxuICBjb25zdCByZWNvcmQgPSAoeyBhdCwgd2lyZSB9OiBBdHRlbXB0LCBqdWRnZWQ6IEp1ZGdlZCwgYWdhaW4/OiAnYWdhaW4nKTogc3RyaW5nID0+IHtcbiAgICBjb25zdCBpZCA9IHdvcmtzcGFjZS5sb2cubmV4dElkKCk7XG4gICAgY29uc3QgeyBuYW1lOiBlbnZpcm9ubWVudCB9ID0gd29ya3NwYWNlLmVudmlyb25tZW50O1xuICAgIGNvbnN0IHsgc3RlcCwgcm93IH0gPSBzZW5kaW5nO1xuICAgIGNvbnN0IHsgbmFtZSwgb3BlcmF0aW9uIH0gPSB0YWxrLnJlcXVlc3Q7XG4gICAgY29uc3Qgb2NjYXNpb24gPSB7XG4gICAgICBpZCxcbiAgICAgIGF0LFxuICAgICAgZW52aXJvbm1lbnQsXG4gICAgICByZXF1ZXN0OiBuYW1lLFxuICAgICAgb3BlcmF0aW9uLFxuICAgICAgc2Vzc2lvbnMsXG4gICAgICBpbnB1dHMsXG4gICAgICBzdGVwLFxuICAgICAgcm93LFxuICAgICAgYWdhaW46IGFnYWluICYmIHRydWUsXG4gICAgfTtcbiAgICBjb25zdCB7IG91dGNvbWUsIHZlcmRpY3RzLCBrZXB0IH0gPSBqdWRnZWQ7XG4gICAgd29ya3NwYWNlLmxvZy5hcHBlbmQocmVjb3JkRWNobyhvY2Nhc2lvbiwgd2lyZSwgb3V0Y29tZSwgdmVyZGljdHMsIGtlcHQsIHdvcmtzcGFjZS5yZWRhY3Rvciwgd29ya3NwYWNlLmxvZy5iZXNpZGUpKTtcbiAgICByZXR1cm4gaWQ7XG4gIH07XG4gIGNvbnN0IHRhbGs6IENvbnZlcnNhdGlvbiA9IHtcbiAgICB3b3Jrc3BhY2UsXG4gICAgc2Vzc2lvbnMsXG4gICAgc2VuZGluZyxcbiAgICBzZWFsLFxuICAgIHJlcXVlc3QsXG4gICAgYmFyZSxcbiAgICBhbmV3OlxuICAgICAgc3VwcGxpZWQgJiZcbiAgICAgIChhc3luYyAoKSA9PiB7XG4gICAgICAgIGdpdmluZy5zdXBwbGllZCA9IGF3YWl0IHN1cHBsaWVkTmFtZXMod29ya3NwYWNlLCBzZXNzaW9ucywgdHJ1ZSk7XG4gICAgICAgIGNvbnN0IGFnYWluID0gcmVzb2x2ZVJlcXVlc3QocHJlcGFyZWQucGxhbiwgZ2l2aW5nKTtcbiAgICAgICAgKHsgbmFtZXMsIGlucHV0cyB9ID0gYWdhaW4pO1xuICAgICAgICByZXR1cm4gYWdhaW4ucmVxdWVzdDtcbiAgICAgIH0pLFxuICB9O1xuICBhd2FpdCB3b3JrT3V0QW5ldyh0YWxrLCBzZW5kaW5nLmxpbmVzKTtcbiAgY29uc3QgdW5kb2N1bWVudGVkID0gc2VuZGluZy5kb2N1bWVudGVkID8gdW5kb2N1bWVudGVkUGFydHMod29ya3NwYWNlLCB0YWxrLnJlcXVlc3QsIHNlbmRpbmcuZG9jdW1lbnRlZCkgOiBbXTtcbiAgY29uc3Qge1xuICAgIGF0dGVtcHQ6IHRyaWVkLFxuICAgIHRyaWVzLFxuICAgIGdhdmVVcCxcbiAgfSA9IGF3YWl0IGluVHJpZXMoXG4gICAgdHJ5Um9vbSh3b3Jrc3BhY2UsIHByZXBhcmVkLCBzZW5kaW5nLCB0YWxrLCAob3duKSA9PiBuZXcgRXZhbHVhdGlvbihvd24gPz8gbmFtZXMsIGdpdmluZykpLFxuICAgICgpID0+IGNvbnZlcnNlKHRhbGspLFxuICAgIGFzeW5jIChlYXJseSkgPT4ge1xuICAgICAgLy8gSXQgaXMgbm90IHRoZSBhbnN3ZXI6IG5vdGhpbmcgaXMgZXhwZWN0ZWQgb2YgaXQsIGFuZCBub3RoaW5nIGlzIGtlcHQuXG4gICAgICByZWNvcmQoZWFybHksIHsgb3V0Y29tZTogZWFybHkub3V0Y29tZSwgdmVyZGljdHM6IFtdLCBrZXB0OiBbXSwgcHJvYmxlbXM6IFtdIH0sICdhZ2FpbicpO1xuICAgIH0sXG4gICk7XG4gIGNvbnN0IHsgaW5zaWRlIH0gPSB0cmllZDtcbiAgcmVxdWVzdCA9IHRhbGsucmVxdWVzdDtcbiAgY29uc3QgeyB3aXJlLCBvdXRjb21lIH0gPSB0cmllZDtcbiAgY29uc3QgeyByZWNlaXZlZCB9ID0gb3V0Y29tZTtcbiAgY29uc3QgcmVmdXNhbCA9XG4gICAgcmVjZWl2ZWQgJiZcbiAgICByZWZ1c2FsT2YoXG4gICAgICB3b3Jrc3BhY2UsXG4gICAgICBzZXNzaW9ucyxcbiAgICAgIHdpcmUuaGVhZGVycyxcbiAgICAgIHJlY2VpdmVkLFxuICAgICAgaW5zaWRlLFxuICAgICAgc2VhbCAmJiB7IHNpZ25hdHVyZTogc2VhbC5zaWduZXIubmFtZSwgcmVxdWVzdDogcmVxdWVzdC5uYW1lIH0sXG4gICAgKTtcblxuICBjb25zdCBqdWRnZWQgPSBhd2FpdCBqdWRnZU91dGNvbWUod29ya3NwYWNlLCBwcmVwYXJlZCwgc2VuZGluZywgb3V0Y29tZSwgbmFtZXMsIGdpdmluZyk7XG4gIGNvbnN0IGRpc3RydXN0ID0gcmVjZWl2ZWQgJiYgIW91dGNvbWUudHJvdWJsZSA/IHNlYWw/LmRpc3RydXN0KHJlY2VpdmVkLCB3aXJlKSA6IHVuZGVmaW5lZDtcbiAgaWYgKGRpc3RydXN0KSBqdWRnZWQucHJvYmxlbXMucHVzaChkaXN0cnVzdCk7XG4gIGlmIChnYXZlVXAgIT09IHVuZGVmaW5lZCAmJiBqdWRnZWQucHJvYmxlbXMubGVuZ3RoID4gMClcbiAgICBqdWRnZWQucHJvYmxlbXMucHVzaChuZXcgUHJvYmxlbSgnc3RlcC1mYWlsZWQnLCB7IHdoYXQ6IGdhdmVVcCB9KSk7XG4gIGNvbnN0IGlkID0gcmVjb3JkKHRyaWVkLCBqdWRnZWQpO1xuICBpZiAod29ya3NwYWNlLmxvZy53YWl0aW5nID4gNGU2KSBhd2FpdCB3b3Jrc3BhY2UubG9nLmZsdXNoZWQoKTtcbiAgLy8gRWFjaCBieSBpdHMgbmFtZTogdG8gc3ByZWFkIHRoZW0gY29zdHMgYXMgbXVjaCBhcyBhIHdob2xlIGV4cGVjdGF0aW9uLlxuICBjb25zdCB7IHZlcmRpY3RzLCBrZXB0LCBwcm9ibGVtcyB9ID0ganVkZ2VkO1xuICBjb25zdCBkb3VidHMgPSBkb3VidHNPZih3aXJlLCB3b3Jrc3BhY2UpO1xuICByZXR1cm4ge1xuICAgIGVjaG86IGlkLFxuICAgIHRyaWVzLFxuICAgIHJlcXVlc3QsXG4gICAgd2lyZSxcbiAgICB1bmRvY3VtZW50ZWQsXG4gICAgZG91YnRzLFxuICAgIHJlZnVzYWwsXG4gICAgb3V0Y29tZToganVkZ2VkLm91dGNvbWUsXG4gICAgdmVyZGljdHMsXG4gICAga2VwdCxcbiAgICBwcm9ibGVtcyxcbiAgfTtcbn1cblxuLyoqIExvb2tlZCB1cCBvbmx5IHdoZXJlIGl0IG1hdHRlcnM6IHRoZSBkb2N1bWVudGF0aW9uIG1heSBrbm93IG9mIGEgR0VUIHRoYXQgY2hhbmdlcyBzb21ldGhpbmcuICovXG5mdW5jdGlvbiBjaGFuZ2VzQnlEb2N1bWVudGF0aW9uKHsgZW52aXJvbm1lbnQsIGNvbGxlY3Rpb24gfTogV29ya3NwYWNlLCB7IHBsYW4gfTogUHJlcGFyZWRSZXF1ZXN0KTogYm9vbGVhbiB7XG4gIGNvbnN0IHsgY2hhbmdlcywgb3BlcmF0aW9uIH0gPSBwbGFuLmNvbnRlbnQ7XG4gIGlmIChlbnZpcm9ubWVudC5jaGFuZ2VzID09PSAnYWxsb3cnIHx8IGNoYW5nZXMgIT09IHVuZGVmaW5lZCB8fCBvcGVyYXRpb24gPT09IHVuZGVmaW5lZCkgcmV0dXJuIGZhbHNlO1xuICB0cnkge1xuICAgIHJldHVybiBmaW5kT3BlcmF0aW9uKGNvbGxlY3Rpb24sIG9wZXJhdGlvbikuY2hhbmdlcztcbiAgfSBjYXRjaCB7XG4gICAgLy8gV2hhdCBpcyB3cm9uZyB3aXRoIGl0cyBuYW1lIGlzIHRvbGQgYnkgY2hlY2suXG4gICAgcmV0dXJuIGZhbHNlO1xuICB9XG59XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gdGxzLWZhaWxlZDogdGhlIGhvc3Qgc2hvd3Mgbm8gY2VydGlmaWNhdGUgKi9cbmFzeW5jIGZ1bmN0aW9uIGFjY2VwdENlcnRpZmljYXRlKFxuICB7IHBpbnMgfTogV29ya3NwYWNlLFxuICB7IHVybCwgY29ubmVjdGlvbiB9OiBXaXJlUmVxdWVzdCxcbiAgb25BY2NlcHRlZDogTm9uTnVsbGFibGU8U2VuZGluZ1snb25BY2NlcHRlZCddPixcbik6IFByb21pc2U8dm9pZD4ge1xuICBjb25zdCBmYWN0cyA9IHVybC5wcm90b2NvbCA9PT0gJ2h0dHBzOicgPyBhd2FpdCBjZXJ0aWZpY2F0ZU9mKHVybCwgY29ubmVjdGlvbi50bHM/LnNlcnZlck5hbWUpIDogdW5kZWZpbmVkO1xuICBpZiAoIWZhY3RzKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ3Rscy1mYWlsZWQnLCB7XG4gICAgICB3aGF0OiBgJHt1cmwuaG9zdH0gc2hvd3Mgbm8gY2VydGlmaWNhdGUgdG8gYWNjZXB0YCxcbiAgICAgIHdoZXJlOiAnY29ubmVjdGluZycsXG4gICAgICBjYXVzZTogdXJsLnByb3RvY29sID09PSAnaHR0cHM6JyA/ICdubyBUTFMgY29ubmVjdGlvbiBjYW1lIGFib3V0JyA6ICd0aGUgYWRkcmVzcyBpcyBodHRwJyxcbiAgICB9KTtcbiAgfVxuICBvbkFjY2VwdGVkKGZhY3RzLCBhd2FpdCBwaW5zLmFjY2VwdCh1cmwsIGZhY3RzKSk7XG59XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gbm90LWRvY3VtZW50ZWQ6IHRoZSByZXF1ZXN0IGRpZmZlcnMsIGFuZCB0aGF0IGlzIHJlZnVzZWQgKi9cbmZ1bmN0aW9uIHVuZG9jdW1lbnRlZFBhcnRzKFxuICB3b3Jrc3BhY2U6IFdvcmtzcGFjZSxcbiAgcmVxdWVzdDogUmVzb2x2ZWRSZXF1ZXN0LFxuICBob3c6ICd0ZWxsJyB8ICdyZWZ1c2UnLFxuKTogcmVhZG9ubHkgTWlzbWF0Y2hbXSB7XG4gIGlmIChyZXF1ZXN0Lm9wZXJhdGlvbiA9PT0gdW5kZWZpbmVkKSByZXR1cm4gW107XG4gIGNvbnN0IGZvdW5kID0gcmVxdWVzdE1pc21hdGNoZXMocmVxdWVzdCwgZmluZE9wZXJhdGlvbih3b3Jrc3BhY2UuY29sbGVjdGlvbiwgcmVxdWVzdC5vcGVyYXRpb24pKTtcbiAgaWYgKGhvdyA9PT0gJ3RlbGwnIHx8IGZvdW5kLmxlbmd0aCA9PT0gMCkgcmV0dXJuIGZvdW5kO1xuICB0aHJvdyBuZXcgUHJvYmxlbSgnbm90LWRvY3VtZW50ZWQnLCB7XG4gICAgd2hhdDogYHRoZSByZXF1ZXN0IGRpZmZlcnMgZnJvbSAke3JlcXVlc3Qub3BlcmF0aW9ufTogJHtmb3VuZC5tYXAoKHsgYXQsIHdoYXQgfSkgPT4gYCR7YXR9ICR7d2hhdH1gKS5qb2luKCc7ICcpfWAsXG4gICAgcmVtZWR5OiBgZWNoby10cmFpbCBkb2NzIHNob3cgJHtyZXF1ZXN0Lm9wZXJhdGlvbn07IHdpdGhvdXQgLS1zdHJpY3QgaXQgaXMgc2VudCB3aXRoIGEgd2FybmluZ2AsXG4gICAgZGF0YTogeyBvcGVyYXRpb246IHJlcXVlc3Qub3BlcmF0aW9uIH0sXG4gIH0pO1xufVxuXG4vKiogRXZlcnl0aGluZyBidXQgdGhlIHNlbmRpbmc6IHdoYXQgaXMga2VwdCBpcyB0YWtlbiBmcm9tIHRoZSBkb2N1bWVudGVkIGFuc3dlciwgd2hlcmUgdGhlcmUgaXMgb25lLiAqL1xuYXN5bmMgZnVuY3Rpb24gdW5zZW50KHdvcmtzcGFjZTogV29ya3NwYWNlLCBwcmVwYXJlZDogUHJlcGFyZWRSZXF1ZXN0LCBzZW5kaW5nOiBTZW5kaW5nKTogUHJvbWlzZTxTZW50PiB7XG4gIGNvbnN0IHsgcmVxdWVzdCwgd2lyZSwgZG91YnRzIH0gPSBhd2FpdCBwcmV2aWV3UmVxdWVzdCh3b3Jrc3BhY2UsIHByZXBhcmVkLCBzZW5kaW5nKTtcbiAgaWYgKHJlcXVlc3QuY2hhbmdlcyAmJiB3b3Jrc3BhY2UuZW52aXJvbm1lbnQuY2hhbmdlcyA9PT0gJ3JlZnVzZScpXG4gICAgYXdhaXQgd29ya3NwYWNlLmRlbWFuZENoYW5nZSh7IGhvc3Q6IHdpcmUudXJsLmhvc3QsIG1ldGhvZDogcmVxdWVzdC5tZXRob2QsIHVybDogd2lyZS5zaG93blVybCB9KTtcbiAgY29uc3Qgc3Vycm91bmRpbmdzID0geyB3b3JsZDogd29ya3NwYWNlLndvcmxkKCksIG9uU2VjcmV0OiB3b3Jrc3BhY2UucmVkYWN0b3IuYWRkIH07XG4gIGNvbnN0IHsga2VwdCB9ID0gdGFrZUtlZXBzKFxuICAgIFsuLi5wcmVwYXJlZC5rZWVwcywgLi4uKHNlbmRpbmcua2VlcHMgPz8gW10pXSxcbiAgICBhc0Fuc3dlcihkb2N1bWVudGVkRXhhbXBsZSh3b3Jrc3BhY2UsIHJlcXVlc3Qub3BlcmF0aW9uKSksXG4gICAgbmV3IEV2YWx1YXRpb24obm9OYW1lcywgc3Vycm91bmRpbmdzKSxcbiAgKTtcbiAgY29uc3Qgb3V0Y29tZSA9IHsgcmVjZWl2ZWQ6IHVuZGVmaW5lZCwgdHJvdWJsZTogdW5kZWZpbmVkIH07XG4gIGNvbnN0IG5vdGhpbmcgPSB7IHZlcmRpY3RzOiBbXSwgdW5kb2N1bWVudGVkOiBbXSwgcHJvYmxlbXM6IFtdLCByZWZ1c2FsOiB1bmRlZmluZWQgfTtcbiAgcmV0dXJuIHsgZWNobzogJycsIHRyaWVzOiAwLCByZXF1ZXN0LCB3aXJlLCBkb3VidHMsIG91dGNvbWUsIGtlcHQsIC4uLm5vdGhpbmcgfTtcbn1cblxuLyoqIFRoZSBmaXJzdCBkb2N1bWVudGVkIGFuc3dlciB0aGF0IGlzIG5vIGVycm9yLiAqL1xuZnVuY3Rpb24gZG9jdW1lbnRlZEV4YW1wbGUoeyBjb2xsZWN0aW9uIH06IFdvcmtzcGFjZSwgb3BlcmF0aW9uOiBzdHJpbmcgfCB1bmRlZmluZWQpOiBWYWx1ZSB7XG4gIGlmIChvcGVyYXRpb24gPT09IHVuZGVmaW5lZCkgcmV0dXJuIG51bGw7XG4gIHRyeSB7XG4gICAgY29uc3QgeyBhbnN3ZXJzIH0gPSBmaW5kT3BlcmF0aW9uKGNvbGxlY3Rpb24sIG9wZXJhdGlvbik7XG4gICAgY29uc3QgZ29vZCA9IGFuc3dlcnMuZmluZChcbiAgICAgICh7IHN0YXR1cywgY29udGVudCB9KSA9PiAvXig/OjJ8ZGVmYXVsdCkvaS50ZXN0KHN0YXR1cykgJiYgY29udGVudD8uZXhhbXBsZSAhPT0gdW5kZWZpbmVkLFxuICAgICk7XG4gICAgcmV0dXJuIGdvb2Q/LmNvbnRlbnQ/LmV4YW1wbGUgPz8gbnVsbDtcbiAgfSBjYXRjaCB7XG4gICAgLy8gV2hhdCBpcyB3cm9uZyB3aXRoIGl0cyBuYW1lIGlzIHRvbGQgYnkgY2hlY2suXG4gICAgcmV0dXJuIG51bGw7XG4gIH1cbn1cbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFPQSxJQUFNLE9BQU8sb0JBQUksUUFBeUM7QUFHbkQsU0FBUyxpQkFBaUIsWUFBd0IsV0FBc0IsUUFBb0M7QUFDakgsUUFBTSxTQUFTLFVBQVUsV0FBVyxNQUFNO0FBQzFDLFNBQU8sVUFBVSxTQUFTLFlBQVksV0FBVyxPQUFPLFNBQVMsVUFBVSxPQUFPLE1BQU0sRUFBRTtBQUM1RjtBQUdPLFNBQVMsVUFBVSxFQUFFLFFBQVEsR0FBYyxRQUEwRDtBQUMxRyxRQUFNLFFBQVEsSUFBSSxJQUFJLFFBQVEsSUFBSSxDQUFDLFdBQVcsQ0FBQyxPQUFPLE9BQU8sWUFBWSxHQUFHLE1BQU0sQ0FBQyxDQUFDO0FBQ3BGLFNBQU8sTUFBTSxJQUFJLE9BQU8sTUFBTSxDQUFDLEtBQUssTUFBTSxJQUFJLEdBQUcsS0FBSyxNQUFNLFNBQVMsR0FBRyxDQUFDLElBQUksS0FBSyxNQUFNLElBQUksU0FBUztBQUN2RztBQUVBLFNBQVMsU0FDUCxZQUNBLEVBQUUsUUFBUSxHQUFHLEdBQ2IsU0FDQSxNQUNvQjtBQUNwQixNQUFJLE9BQU8sU0FBUyxXQUFXLFlBQVksUUFBUSxXQUFXLEtBQU0sUUFBTztBQUMzRSxRQUFNLE1BQU0sR0FBRyxNQUFNLElBQUksRUFBRSxJQUFJLElBQUk7QUFDbkMsUUFBTSxRQUFRLEtBQUssSUFBSSxVQUFVLEtBQUssb0JBQUksSUFBb0I7QUFDOUQsT0FBSyxJQUFJLFlBQVksS0FBSztBQUMxQixNQUFJLFNBQVMsTUFBTSxJQUFJLEdBQUc7QUFDMUIsTUFBSSxDQUFDLFFBQVE7QUFDWCxhQUFTLGNBQWMsUUFBUSxRQUFRLFlBQVksWUFBWSxNQUFNLEVBQUUsV0FBVztBQUNsRixVQUFNLElBQUksS0FBSyxNQUFNO0FBQUEsRUFDdkI7QUFDQSxTQUFPO0FBQ1Q7QUFHQSxTQUFTLGNBQWMsUUFBZSxhQUFrQztBQUN0RSxRQUFNLFVBQVUsb0JBQUksSUFBb0I7QUFDeEMsUUFBTSxRQUErQixDQUFDO0FBQ3RDLFFBQU0sVUFBb0IsQ0FBQztBQUMzQixRQUFNLFFBQVEsQ0FBQyxjQUE4QjtBQUMzQyxRQUFJLFNBQVMsUUFBUSxJQUFJLFNBQVM7QUFDbEMsUUFBSSxXQUFXLFFBQVc7QUFDeEIsZUFBUyxRQUFRO0FBQ2pCLGNBQVEsSUFBSSxXQUFXLE1BQU07QUFDN0IsY0FBUSxLQUFLLFNBQVM7QUFBQSxJQUN4QjtBQUNBLFdBQU8sWUFBWSxNQUFNO0FBQUEsRUFDM0I7QUFDQSxRQUFNLFFBQVEsYUFBYSxRQUFRLEtBQUs7QUFDeEMsV0FBUyxPQUFPLFFBQVEsTUFBTSxHQUFHLFNBQVMsUUFBVyxPQUFPLFFBQVEsTUFBTSxHQUFHO0FBQzNFLFVBQU0sYUFBYSxZQUFZLElBQUksSUFBSTtBQUV2QyxVQUFNLElBQUksUUFBUSxJQUFJLElBQUksQ0FBQyxFQUFFLElBQUksZUFBZSxTQUFZLENBQUMsSUFBSSxhQUFhLFlBQVksS0FBSztBQUFBLEVBQ2pHO0FBQ0EsU0FBTyxRQUFRLFNBQVMsSUFBSSxRQUFRLEVBQUUsR0FBRyxPQUFPLE1BQU07QUFDeEQ7OztBQ25ETyxTQUFTLGtCQUFrQixTQUEwQixXQUEyQztBQUNyRyxTQUFPLENBQUMsR0FBRyxnQkFBZ0IsU0FBUyxTQUFTLEdBQUcsR0FBRyxlQUFlLFNBQVMsU0FBUyxDQUFDO0FBQ3ZGO0FBRUEsU0FBUyxnQkFBZ0IsRUFBRSxNQUFNLEdBQW9CLEVBQUUsWUFBWSxTQUFTLEdBQTBCO0FBQ3BHLE1BQUksYUFBYSxPQUFRLFFBQU8sQ0FBQztBQUNqQyxRQUFNLFFBQVEsSUFBSSxJQUFJLFdBQVcsT0FBTyxDQUFDLFFBQVEsSUFBSSxPQUFPLE9BQU8sRUFBRSxJQUFJLENBQUMsUUFBUSxDQUFDLElBQUksTUFBTSxHQUFHLENBQUMsQ0FBQztBQUNsRyxTQUFPLE1BQU0sUUFBUSxDQUFDLEVBQUUsTUFBTSxPQUFPLE9BQU8sTUFBTTtBQUNoRCxVQUFNLE9BQU8sS0FBSyxRQUFRLGVBQWUsRUFBRTtBQUMzQyxVQUFNLFlBQVksTUFBTSxJQUFJLElBQUksS0FBSyxNQUFNLElBQUksSUFBSTtBQUNuRCxVQUFNLEtBQUssU0FBUyxJQUFJO0FBQ3hCLFFBQUksQ0FBQyxXQUFXO0FBQ2QsWUFBTSxPQUFPLFFBQVEsTUFBTSxDQUFDLEdBQUcsTUFBTSxLQUFLLENBQUMsQ0FBQztBQUM1QyxhQUFPLENBQUMsRUFBRSxJQUFJLE1BQU0sQ0FBQyxJQUFJLEdBQUcsTUFBTSxvQkFBb0IsU0FBUyxTQUFZLEtBQUssbUJBQW1CLElBQUksRUFBRSxHQUFHLENBQUM7QUFBQSxJQUMvRztBQUNBLFFBQUksVUFBVSxVQUFVLEtBQUssV0FBVyxRQUFRLEVBQUcsUUFBTyxDQUFDO0FBQzNELFVBQU0sUUFBUSxVQUFVLFVBQVUsV0FBVyxNQUFNLE1BQU0sR0FBRyxJQUFJLENBQUMsS0FBSztBQUN0RSxXQUFPLE1BQU0sUUFBUSxDQUFDLFNBQVM7QUFDN0IsWUFBTSxPQUFPLGFBQWEsTUFBTSxTQUFTO0FBQ3pDLGFBQU8sU0FBUyxTQUFZLENBQUMsSUFBSSxDQUFDLEVBQUUsSUFBSSxNQUFNLENBQUMsSUFBSSxHQUFHLEtBQUssQ0FBQztBQUFBLElBQzlELENBQUM7QUFBQSxFQUNILENBQUM7QUFDSDtBQUVBLFNBQVMsZUFDUCxFQUFFLEtBQUssR0FDUCxFQUFFLFlBQVksTUFBTUEsYUFBWSxTQUFTLEdBQ3BCO0FBQ3JCLE1BQUksQ0FBQyxRQUFRLEtBQUssWUFBWSxDQUFDLGFBQWEsS0FBSyxLQUFLLElBQUksRUFBRyxRQUFPLENBQUM7QUFDckUsTUFBSTtBQUNKLE1BQUk7QUFDRixZQUFRLEtBQUssTUFBTSxPQUFPLEtBQUssS0FBSyxLQUFLLEVBQUUsU0FBUyxNQUFNLENBQUM7QUFBQSxFQUM3RCxRQUFRO0FBQ04sV0FBTyxDQUFDO0FBQUEsRUFDVjtBQUNBLE1BQUksYUFBYSxXQUFXO0FBQzFCLFVBQU0sRUFBRSxZQUFZLENBQUMsRUFBRSxJQUFJO0FBQzNCLFdBQU8sV0FBVyxXQUFXLFVBQVUsRUFBRSxJQUFJLENBQUMsU0FBUyxFQUFFLEdBQUcsS0FBSyxJQUFJLElBQUksR0FBRyxRQUFRLE9BQU8sV0FBVyxFQUFFLEVBQUU7QUFBQSxFQUM1RztBQUNBLFNBQU9BLGVBQWMsYUFBYSxLQUFLQSxZQUFXLElBQUksSUFBSSxrQkFBa0IsT0FBT0EsYUFBWSxLQUFLLElBQUksQ0FBQztBQUMzRztBQUVBLFNBQVMsa0JBQWtCLE9BQWdCLEVBQUUsUUFBUSxhQUFhLEdBQVksUUFBc0M7QUFDbEgsTUFBSSxDQUFDLGFBQWMsUUFBTyxXQUFXLE9BQU8sUUFBUSxFQUFFLE9BQU8sQ0FBQztBQUM5RCxRQUFNLFFBQVEsYUFBYSxJQUFJLENBQUMsUUFBUSxXQUFXLE9BQU8sSUFBSSxRQUFRLEVBQUUsT0FBTyxDQUFDLENBQUM7QUFDakYsU0FBTyxNQUFNLEtBQUssQ0FBQyxHQUFHLE1BQU0sRUFBRSxTQUFTLEVBQUUsTUFBTSxFQUFFLENBQUMsS0FBSyxDQUFDO0FBQzFEO0FBR08sU0FBUyxpQkFBaUIsVUFBb0IsV0FBMkM7QUFDOUYsUUFBTUEsY0FBYSxVQUFVLFdBQVcsU0FBUyxNQUFNO0FBQ3ZELE1BQUksQ0FBQ0EsYUFBWTtBQUNmLFVBQU0sUUFBUSxVQUFVLFFBQVEsSUFBSSxDQUFDLEVBQUUsT0FBTyxNQUFNLE1BQU0sRUFBRSxLQUFLLElBQUk7QUFDckUsV0FBTyxDQUFDLEVBQUUsSUFBSSxVQUFVLE1BQU0sQ0FBQyxHQUFHLE1BQU0sTUFBTSxTQUFTLE1BQU0sb0JBQW9CLFVBQVUsS0FBSyxTQUFTLEtBQUssR0FBRyxDQUFDO0FBQUEsRUFDcEg7QUFDQSxNQUFJLENBQUNBLFlBQVcsV0FBVyxDQUFDLFNBQVMsY0FBYyxTQUFTLFNBQVMsRUFBRyxRQUFPLENBQUM7QUFDaEYsUUFBTSxPQUFnQixTQUFTLEtBQUs7QUFDcEMsTUFBSSxVQUFVLFNBQVM7QUFDckIsVUFBTSxPQUFRLE1BQW9ELE9BQU8sVUFBVSxRQUFRLEtBQUs7QUFFaEcsV0FBTyxrQkFBa0IsTUFBTUEsWUFBVyxTQUFTLElBQUksRUFBRSxPQUFPLENBQUMsRUFBRSxLQUFLLE1BQU0sQ0FBQyxLQUFLLFNBQVMsU0FBUyxDQUFDO0FBQUEsRUFDekc7QUFDQSxTQUFPLGtCQUFrQixNQUFNQSxZQUFXLFNBQVMsSUFBSTtBQUN6RDs7O0FDekRBLElBQU0sT0FBbUMsb0JBQUksSUFBSTtBQStCMUMsU0FBUyxlQUFlLE1BQW1CLFFBQTRCO0FBQzVFLFFBQU0sT0FBTyxPQUFPLGNBQWMsb0JBQUksSUFBbUIsSUFBSTtBQUM3RCxRQUFNLFlBQVksY0FBYyxPQUFPLFFBQVEsT0FBTyxRQUFRLE1BQU07QUFDcEUsUUFBTSxTQUFTLElBQUksV0FBVyxLQUFLLFFBQVEsT0FBTyxPQUFPLFdBQVcsTUFBTTtBQUMxRSxRQUFNLFFBQVEsT0FBTyxXQUFXLFFBQVEsUUFBUSxPQUFPLFVBQVUsU0FBUyxJQUFJLFFBQVEsUUFBUSxTQUFTO0FBQ3ZHLFFBQU0sYUFBYSxJQUFJLFdBQVcsT0FBTyxRQUFRLFNBQVMsQ0FBQyxNQUFNLFVBQVUsS0FBSyxJQUFJLE1BQU0sS0FBSyxFQUFFO0FBQ2pHLE1BQUk7QUFDRixVQUFNLGFBQ0osT0FBTyxhQUFhLE1BQU0sSUFBSSxXQUFXLFFBQVEsV0FBVyxPQUFPLE1BQU0sR0FBRyxNQUFNLENBQUMsS0FBSztBQUMxRixVQUFNLFVBQVUsYUFBYSxNQUFNLFFBQVEsWUFBWSxZQUFZLElBQUk7QUFDdkUsV0FBTyxFQUFFLFNBQVMsT0FBTyxRQUFRLE9BQU8sS0FBSyxFQUFFO0FBQUEsRUFDakQsU0FBUyxPQUFPO0FBQ2QsVUFBTSxlQUFlLE1BQU0sVUFBVSxLQUFLLENBQUM7QUFBQSxFQUM3QztBQUNGO0FBR0EsU0FBUyxlQUFlLE1BQW1CLFNBQTJCO0FBQ3BFLFFBQU0sUUFDSixRQUFRLFNBQVMsaUJBQWlCLEtBQUssT0FBTyxLQUFLLENBQUMsRUFBRSxLQUFLLE1BQU0sU0FBUyxRQUFRLEtBQUssSUFBSSxJQUFJO0FBQ2pHLFNBQU8sU0FBUyxFQUFFLFlBQVksUUFBUSxRQUFRLGFBQWEsS0FBSyxJQUFJO0FBQ3RFO0FBRUEsU0FBUyxhQUNQLE1BQ0EsUUFDQSxZQUNBLFlBQ0EsTUFDaUI7QUFDakIsUUFBTSxRQUFRLE9BQU87QUFDckIsUUFBTSxTQUFTLENBQUMsU0FBb0M7QUFDbEQsVUFBTUMsT0FBTSxLQUFLLEtBQUssSUFBSSxJQUFJLEdBQUcsU0FBUyxVQUFVO0FBQ3BELFFBQUlBLFNBQVEsUUFBUyxRQUFPO0FBQzVCLFFBQUlBLFNBQVEsT0FBVyxRQUFPQTtBQUM5QixVQUFNLFFBQVEsV0FBVyxNQUFNLE9BQU8sSUFBSTtBQUMxQyxRQUFJLFNBQVMsS0FBSyxPQUFPLEtBQUssQ0FBQyxFQUFFLEtBQUssTUFBTSxTQUFTLElBQUksR0FBRztBQUMxRCxpQkFBVyxTQUFTLE1BQU0sS0FBSztBQUMvQixVQUFJLE1BQU0sT0FBUSxZQUFXLGdCQUFnQjtBQUM3QyxhQUFPLE1BQU07QUFBQSxJQUNmO0FBQ0EsV0FBTztBQUFBLEVBQ1Q7QUFDQSxRQUFNLFVBQVUsU0FBUyxLQUFLLFFBQVEsU0FBUyxZQUFZLE1BQU07QUFDakUsUUFBTSxnQkFBZ0IsV0FBVztBQUNqQyxRQUFNLFFBQVEsS0FBSyxRQUFRLFNBQVM7QUFDcEMsUUFBTSxRQUFRLFVBQVUsU0FBWSxLQUFLLE1BQU0sUUFBUSxDQUFDLFVBQVUsV0FBVyxPQUFPLE9BQU8sVUFBVSxDQUFDLElBQUksQ0FBQztBQUMzRyxRQUFNLE1BQU0sS0FBSyxnQkFBZ0IsS0FBSyxRQUFRLFFBQVEsQ0FBQyxVQUFVLFlBQVksT0FBTyxVQUFVLENBQUM7QUFDL0YsUUFBTSxTQUFTLEtBQUssUUFBUSxPQUFPLElBQUksV0FBVyxNQUFNLFVBQVUsSUFBSTtBQUN0RSxRQUFNLE1BQU0sS0FBSyxrQkFBa0IsUUFBUSxLQUFLLGdCQUFnQixPQUFPLGdCQUFnQixVQUFVO0FBQ2pHLFFBQU0sVUFBVSxVQUFVLE1BQU0sQ0FBQyxHQUFHLEtBQUssR0FBSSxTQUFTLENBQUMsTUFBTSxJQUFJLENBQUMsR0FBSSxHQUFJLE1BQU0sQ0FBQyxHQUFHLElBQUksQ0FBQyxDQUFFLElBQUk7QUFDL0YsYUFBVyxnQkFBZ0I7QUFDM0IsUUFBTUMsUUFBTyxLQUFLLE9BQU8sVUFBVTtBQUNuQyxRQUFNLE9BQU9BLE9BQU0sVUFBVSxTQUFZQTtBQUN6QyxRQUFNLEtBQUssR0FBSUEsT0FBTSxXQUFXLENBQUMsQ0FBRTtBQUNuQyxRQUFNLEVBQUUsVUFBVSxJQUFJLEtBQUs7QUFDM0IsU0FBTztBQUFBLElBQ0wsTUFBTSxLQUFLO0FBQUEsSUFDWCxXQUFXLEtBQUssUUFBUTtBQUFBLElBQ3hCLFFBQVEsS0FBSztBQUFBLElBQ2I7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBLFVBQVUsS0FBSztBQUFBLElBQ2YsU0FBUyxLQUFLO0FBQUEsSUFDZCxXQUFXLGNBQWMsU0FBUyxJQUFJO0FBQUEsSUFDdEM7QUFBQSxJQUNBLFNBQVMsV0FBVyxNQUFNLE9BQU8sT0FBTztBQUFBLElBQ3hDLE9BQU8sUUFBUTtBQUFBLElBQ2YsZ0JBQWdCLEtBQUs7QUFBQSxJQUNyQixRQUNFLGlCQUNBLE1BQU0sS0FBSyxDQUFDLEVBQUUsT0FBTyxNQUFNLE1BQU0sS0FDakMsUUFBUSxLQUFLLENBQUMsRUFBRSxPQUFPLE1BQU0sTUFBTSxNQUNsQyxNQUFNLFVBQVU7QUFBQSxFQUNyQjtBQUNGO0FBRUEsSUFBTSxXQUFXLG9CQUFJLFFBQXFGO0FBRzFHLFNBQVMsV0FBVyxNQUFtQixNQUFpQztBQUN0RSxRQUFNLFFBQVEsU0FBUyxJQUFJLElBQUk7QUFDL0IsTUFBSSxPQUFPLFNBQVMsS0FBTSxRQUFPLE1BQU07QUFDdkMsUUFBTSxVQUFVLEVBQUUsU0FBUyxLQUFRLE9BQU8sS0FBUSxHQUFHLE1BQU0sR0FBRyxLQUFLLFFBQVE7QUFDM0UsV0FBUyxJQUFJLE1BQU0sRUFBRSxNQUFNLFFBQVEsQ0FBQztBQUNwQyxTQUFPO0FBQ1Q7QUFFQSxTQUFTLFFBQ1AsRUFBRSxRQUFRLEtBQUssR0FDZixPQUNBLFlBQ1k7QUFDWixRQUFNLEVBQUUsT0FBTyxPQUFPLElBQUksVUFBVSxTQUFZLE9BQU8sTUFBTSxVQUFVLElBQUksRUFBRSxPQUFPLE9BQU8sUUFBUSxNQUFNO0FBQ3pHLFFBQU0sT0FBTyxTQUFTLHNCQUFzQixRQUFRLFNBQVMsSUFBSTtBQUNqRSxjQUFZLFFBQVEsTUFBTSxNQUFTO0FBQ25DLFNBQU8sRUFBRSxNQUFNLFFBQVEsT0FBTyxNQUFNLFFBQVEsbUJBQW1CLE9BQU87QUFDeEU7QUFFQSxTQUFTLE9BQU8sTUFBWSxZQUF1RTtBQUNqRyxRQUFNLFFBQXFCLEVBQUUsTUFBTSxDQUFDLEdBQUcsUUFBUSxDQUFDLEVBQUU7QUFDbEQsUUFBTSxRQUFRLEtBQUssU0FBUyxZQUFZLEtBQUs7QUFDN0MsU0FBTyxFQUFFLE9BQU8sVUFBVSxVQUFVLFNBQVksT0FBTyxRQUFRLE1BQU0sT0FBTyxTQUFTLEVBQUU7QUFDekY7QUFFQSxTQUFTLFdBQ1AsRUFBRSxNQUFNLEtBQUssR0FDYixPQUNBLFlBQ2E7QUFDYixRQUFNLEVBQUUsT0FBTyxPQUFPLElBQUksT0FBTyxNQUFNLFVBQVU7QUFDakQsTUFBSSxVQUFVLE9BQVcsUUFBTyxDQUFDO0FBQ2pDLE1BQUksV0FBVyxLQUFLLEVBQUcsUUFBTyxVQUFVLE1BQU0sT0FBTyxNQUFNO0FBQzNELE1BQUksQ0FBQyxNQUFNLFFBQVEsS0FBSyxFQUFHLFFBQU8sQ0FBQyxFQUFFLE1BQU0sT0FBTyxTQUFTLG1CQUFtQixNQUFNLEtBQUssR0FBRyxPQUFPLENBQUM7QUFDcEcsUUFBTSxRQUFRLE1BQU0sSUFBSSxDQUFDLFNBQWdCLFNBQVMsbUJBQW1CLE1BQU0sSUFBSSxDQUFDO0FBQ2hGLE1BQUksVUFBVSxTQUFVLFFBQU8sTUFBTSxXQUFXLElBQUksQ0FBQyxJQUFJLENBQUMsRUFBRSxNQUFNLE9BQU8sTUFBTSxLQUFLLEdBQUcsR0FBRyxPQUFPLENBQUM7QUFDbEcsUUFBTSxNQUFNLFVBQVUsY0FBYyxHQUFHLElBQUksT0FBTztBQUNsRCxTQUFPLE1BQU0sSUFBSSxDQUFDLFVBQWtCLEVBQUUsTUFBTSxLQUFLLE9BQU8sTUFBTSxPQUFPLEVBQUU7QUFDekU7QUFHQSxTQUFTLFdBQVcsRUFBRSxTQUFTLE1BQU0sUUFBUSxHQUFnQixZQUFnRDtBQUMzRyxRQUFNLFFBQWtCLENBQUM7QUFDekIsTUFBSSxZQUFZO0FBQ2hCLGFBQVcsQ0FBQyxNQUFNLElBQUksS0FBSyxTQUFTO0FBQ2xDLFVBQU0sRUFBRSxPQUFPLE9BQU8sSUFBSSxPQUFPLE1BQU0sVUFBVTtBQUNqRCxRQUFJLFVBQVUsT0FBVztBQUN6QixVQUFNLE9BQU8sU0FBUyxVQUFVLE1BQU0sS0FBSztBQUMzQyxRQUFJLENBQUMsdUJBQXVCLEtBQUssSUFBSSxHQUFHO0FBQ3RDLFlBQU0sSUFBSSxRQUFRLGdCQUFnQjtBQUFBLFFBQ2hDLE1BQU0sY0FBYyxJQUFJO0FBQUEsUUFDeEIsUUFBUTtBQUFBLE1BQ1YsQ0FBQztBQUFBLElBQ0g7QUFDQSxVQUFNLEtBQUssR0FBRyxJQUFJLElBQUksSUFBSSxFQUFFO0FBQzVCLGtCQUFjO0FBQUEsRUFDaEI7QUFDQSxNQUFJLE1BQU0sV0FBVyxFQUFHLFFBQU87QUFDL0IsU0FBTyxFQUFFLE1BQU0sVUFBVSxPQUFPLE1BQU0sS0FBSyxJQUFJLEdBQUcsUUFBUSxXQUFXLE9BQU8sSUFBSSxRQUFRLFVBQVU7QUFDcEc7QUFHQSxTQUFTLFVBQVUsTUFBYyxPQUFjLFFBQThCO0FBQzNFLE1BQUksV0FBVyxLQUFLO0FBQ2xCLFdBQU8sT0FBTyxRQUFRLEtBQUssRUFBRSxRQUFRLENBQUMsQ0FBQyxLQUFLLEtBQUssTUFBTSxVQUFVLEdBQUcsSUFBSSxJQUFJLEdBQUcsS0FBSyxPQUFPLE1BQU0sQ0FBQztBQUNwRyxRQUFNLFFBQVEsTUFBTSxRQUFRLEtBQUssSUFBSyxRQUE2QixDQUFDLEtBQUs7QUFDekUsU0FBTyxNQUFNLElBQUksQ0FBQyxVQUFVLEVBQUUsTUFBTSxPQUFPLFNBQVMsbUJBQW1CLE1BQU0sSUFBSSxHQUFHLE9BQU8sRUFBRTtBQUMvRjtBQUVBLFNBQVMsWUFBWSxFQUFFLE1BQU0sTUFBTSxRQUFRLE1BQU0sR0FBaUIsWUFBK0M7QUFDL0csTUFBSSxNQUFPLFFBQU87QUFDbEIsUUFBTSxFQUFFLE9BQU8sT0FBTyxJQUFJLE9BQU8sTUFBTSxVQUFVO0FBQ2pELFNBQU8sVUFBVSxTQUFZLENBQUMsSUFBSSxRQUFRLE1BQU0sT0FBTyxRQUFRLE1BQU07QUFDdkU7OztBQy9MQSxJQUFNLGFBQWE7QUFHbkIsZUFBc0IsY0FDcEIsV0FDQSxVQUNBLFNBQzRCO0FBQzVCLFFBQU0sU0FBUyxvQkFBSSxJQUFtQjtBQUN0QyxRQUFNLFNBQW1CLENBQUM7QUFDMUIsYUFBVyxRQUFRLFVBQVU7QUFDM0IsVUFBTSxFQUFFLFNBQVMsTUFBTSxLQUFLLElBQUksVUFBVSxXQUFXLEtBQUssV0FBVyxJQUFJO0FBQ3pFLFFBQUksUUFBUSxXQUFXLE9BQVc7QUFDbEMsVUFBTSxTQUFTLFdBQVcsSUFBSTtBQUM5QixXQUFPLEtBQUssTUFBTTtBQUNsQixVQUFNLE9BQU8sTUFBTSxVQUFVLFNBQVMsT0FBTyxNQUFNLE9BQU87QUFDMUQsVUFBTSxTQUFTLENBQUMsUUFBUSxVQUFVLFNBQVMsUUFBUSxDQUFDLElBQUksQ0FBQyxFQUFFLFNBQVM7QUFDcEUsVUFBTSxPQUFPLFVBQVUsWUFBWSxJQUFJO0FBQ3ZDLGVBQVcsQ0FBQyxLQUFLLEtBQUssS0FBSyxPQUFPLFFBQVEsUUFBUSxNQUFNLEdBQUc7QUFDekQsWUFBTSxTQUFTLFNBQVMsYUFBYSxNQUFNLEtBQUssU0FBUyxPQUFPLENBQUMsVUFBVSxHQUFHLEdBQUcsUUFBUSxJQUFJLENBQUM7QUFDOUYsVUFBSSxXQUFXLFFBQVM7QUFDeEIsVUFBSSxDQUFDLE9BQVEsV0FBVSxTQUFTLElBQUksTUFBTTtBQUMxQyxhQUFPLElBQUksS0FBSyxFQUFFLE9BQU8sUUFBUSxRQUFRLFFBQVEsQ0FBQyxPQUFPLENBQUM7QUFBQSxJQUM1RDtBQUFBLEVBQ0Y7QUFDQSxNQUFJLE9BQU8sU0FBUyxFQUFHLFFBQU87QUFDOUIsU0FBTyxFQUFFLFFBQVEsQ0FBQyxTQUFTLE9BQU8sSUFBSSxJQUFJLEdBQUcsT0FBTyxNQUFNLE9BQU8sS0FBSyxHQUFHLE9BQU87QUFDbEY7QUFFQSxJQUFNLFdBQVcsb0JBQUksUUFBd0Q7QUFHN0UsZUFBc0IsY0FDcEIsV0FDQSxVQUNBLFVBQ2tCO0FBQ2xCLGFBQVcsUUFBUSxVQUFVO0FBQzNCLFVBQU0sZUFBZSxNQUFNLFVBQVUsV0FBVyxJQUFJO0FBQ3BELFFBQUksYUFBYSxXQUFXLEVBQUc7QUFDL0IsVUFBTSxhQUFhLElBQUksV0FBVyxTQUFTLEVBQUUsT0FBTyxVQUFVLE1BQU0sR0FBRyxVQUFVLFVBQVUsU0FBUyxJQUFJLENBQUM7QUFDekcsVUFBTSxXQUFXLE1BQU0sTUFBTSxjQUFjLFVBQVUsWUFBWSxDQUFDLENBQUM7QUFDbkUsUUFBSSxTQUFTLE1BQU0sQ0FBQyxFQUFFLEdBQUcsTUFBTSxFQUFFLEVBQUcsUUFBTztBQUFBLEVBQzdDO0FBQ0EsU0FBTztBQUNUO0FBRUEsZUFBZSxVQUFVLFdBQXNCLE1BQStDO0FBQzVGLFFBQU0sUUFBUSxTQUFTLElBQUksU0FBUyxLQUFLLG9CQUFJLElBQW9DO0FBQ2pGLFdBQVMsSUFBSSxXQUFXLEtBQUs7QUFDN0IsUUFBTSxRQUFRLE1BQU0sSUFBSSxJQUFJO0FBQzVCLE1BQUksTUFBTyxRQUFPO0FBQ2xCLFFBQU0sRUFBRSxTQUFTLEtBQUssSUFBSSxVQUFVLFdBQVcsS0FBSyxXQUFXLElBQUk7QUFDbkUsUUFBTSxRQUFlLENBQUM7QUFDdEIsUUFBTSxlQUFlLG9CQUFvQixRQUFRLFNBQVMsTUFBTSxDQUFDLFNBQVMsR0FBRyxVQUFVLFVBQVUsS0FBSztBQUN0RyxRQUFNLFFBQVEsSUFBSSxLQUFLO0FBQ3ZCLFFBQU0sSUFBSSxNQUFNLFlBQVk7QUFDNUIsU0FBTztBQUNUOzs7QUNoREEsZUFBc0IsU0FBUyxNQUFzQztBQUNuRSxRQUFNLEVBQUUsV0FBVyxVQUFVLFNBQVMsS0FBSyxJQUFJO0FBQy9DLFFBQU0sRUFBRSxLQUFLLElBQUksS0FBSyxLQUFLO0FBQzNCLFFBQU0sUUFBUSxVQUFVLE9BQU8sTUFBTSxJQUFJO0FBQ3pDLFFBQU0sT0FBTyxNQUF3QixRQUFRLFdBQVcsS0FBSyxTQUFTLEtBQUssTUFBTSxVQUFVLFNBQVMsSUFBSTtBQUN4RyxNQUFJLFFBQVEsTUFBTSxLQUFLO0FBQ3ZCLFFBQU0sRUFBRSxTQUFTLElBQUk7QUFFckIsV0FBUyxTQUFTLEdBQUcsU0FBUyxLQUFLLGNBQWMsV0FBVyxLQUFLLEdBQUcsVUFBVSxFQUFHLFNBQVEsTUFBTSxLQUFLO0FBRXBHLE1BQUksUUFBUSxjQUFjLEtBQUssS0FBSyxVQUFVLFlBQVksVUFBVTtBQUNsRSxRQUFJLFVBQVUsT0FBTyxNQUFNLElBQUksTUFBTSxNQUFPLFNBQVEsTUFBTSxLQUFLO0FBQUE7QUFFakUsTUFBSSxTQUFTLFNBQVMsRUFBRyxPQUFNLFNBQVMsTUFBTSxjQUFjLFdBQVcsVUFBVSxLQUFLO0FBQ3RGLFFBQU0sVUFBVSxNQUFNLFVBQVUsTUFBTSxRQUFRLFVBQVUsV0FBVztBQUVuRSxNQUFJLFlBQVksV0FBWSxNQUFNLFVBQVUsU0FBUyxNQUFNLFFBQVEsR0FBSTtBQUNyRSxRQUFJLEtBQUssS0FBTSxPQUFNLFlBQVksTUFBTSxRQUFRLEtBQUs7QUFDcEQsWUFBUSxNQUFNLEtBQUs7QUFDbkIsVUFBTSxTQUFTLE1BQU0sY0FBYyxXQUFXLFVBQVUsS0FBSztBQUFBLEVBQy9EO0FBQ0EsU0FBTztBQUNUO0FBRUEsZUFBc0IsWUFBWSxNQUFvQixRQUErQixDQUFDLEdBQWtCO0FBQ3RHLE1BQUksQ0FBQyxLQUFLLEtBQU07QUFDaEIsT0FBSyxVQUFVLE1BQU0sS0FBSyxLQUFLO0FBQy9CLE9BQUssT0FBTyxTQUFTLEtBQUssV0FBVyxLQUFLLFNBQVMsS0FBSztBQUMxRDtBQUVBLElBQU0sZ0JBQWdCLENBQUMsRUFBRSxTQUFTLEVBQUUsU0FBUyxFQUFFLE1BQzdDLFVBQVUsV0FBVyxPQUFPLFVBQVUsV0FBVztBQUVuRCxJQUFNLGdCQUFnQixPQUNwQixXQUNBLFVBQ0EsRUFBRSxTQUFTLEVBQUUsVUFBVSxRQUFRLEVBQUUsTUFDWixhQUFhLFVBQWEsQ0FBQyxXQUFXLGNBQWMsV0FBVyxVQUFVLFFBQVE7OztBQ3JEeEcsSUFBTSxXQUE4QixDQUFDO0FBRTlCLFNBQVMsU0FDZCxFQUFFLEtBQUssT0FBTyxHQUNkLEVBQUUsWUFBWSxHQUNLO0FBQ25CLFFBQU0sRUFBRSxLQUFLLElBQUk7QUFDakIsUUFBTSxFQUFFLE9BQU8sSUFBSTtBQUNuQixNQUFJLFVBQVUsWUFBWSxZQUFZLENBQUMsS0FBSyxTQUFTLEtBQUssRUFBRyxRQUFPO0FBQ3BFLFFBQU0sU0FBbUIsQ0FBQztBQUMxQixNQUFJLFNBQVMsWUFBWSxVQUFVO0FBQ2pDLFdBQU87QUFBQSxNQUNMLG1CQUFtQixNQUFNLGdDQUFnQyxZQUFZLElBQUksVUFBVSxZQUFZLFFBQVEsR0FBRyxXQUFXLFFBQVEsa0ZBQWtGLEVBQUU7QUFBQSxJQUNuTjtBQUFBLEVBQ0Y7QUFDQSxNQUFJLG9CQUFvQixLQUFLLElBQUksV0FBVyxJQUFJLE1BQU07QUFDcEQsV0FBTyxLQUFLLCtGQUErRjtBQUM3RyxTQUFPO0FBQ1Q7OztBQ0RBLGVBQXNCLGFBQ3BCLFdBQ0EsVUFDQSxTQUNBLE9BQ0EsVUFDQSxjQUNpQjtBQUNqQixRQUFNLFVBQVUsVUFBVSxLQUFLO0FBQy9CLFFBQU0sRUFBRSxVQUFVLFFBQVEsSUFBSTtBQUM5QixNQUFJLFlBQVksQ0FBQyxRQUFTLFlBQVcsVUFBVSxVQUFVLGFBQWEsUUFBUTtBQUM5RSxNQUFJLENBQUMsWUFBWSxRQUFTLFFBQU8sRUFBRSxTQUFTLFVBQVUsQ0FBQyxHQUFHLE1BQU0sQ0FBQyxHQUFHLFVBQVUsVUFBVSxDQUFDLE9BQU8sSUFBSSxDQUFDLEVBQUU7QUFDdkcsUUFBTSxhQUFhLENBQUMsVUFBNkIsSUFBSSxXQUFXLE9BQU8sWUFBWTtBQUNuRixRQUFNLFlBQXVCO0FBQUEsSUFDM0IsWUFBWSxNQUFNLFdBQVcsV0FBVyxTQUFTLEtBQUssUUFBUSxXQUFXLFFBQVE7QUFBQSxFQUNuRjtBQUNBLFFBQU0sbUJBQW1CLFFBQVEsZ0JBQWdCLENBQUM7QUFDbEQsUUFBTSxZQUFZLFNBQVMsVUFBVSxnQkFBZ0I7QUFDckQsUUFBTSxXQUFXLGVBQWUsVUFBVSxjQUFjLGtCQUFrQixRQUFRO0FBRWxGLFFBQU0sV0FBVyxDQUFDLE9BQWtEO0FBQ2xFLFVBQU0sTUFBTSxNQUFNLFVBQVUsY0FBYyxVQUFVLFdBQVcsUUFBUSxHQUFHLEVBQUU7QUFDNUUsUUFBSSxpQkFBaUIsV0FBVyxLQUFLLENBQUMsU0FBVSxRQUFPO0FBQ3ZELFVBQU0sU0FBUyxpQkFBaUIsU0FBUyxJQUFJLE1BQU0sa0JBQWtCLFVBQVUsV0FBVyxRQUFRLE1BQU0sR0FBRyxFQUFFLElBQUksQ0FBQztBQUNsSCxVQUFNLE1BQU0sQ0FBQyxLQUFnQixVQUFnQyxDQUFDLEdBQUcsS0FBSyxHQUFHLE9BQU8sR0FBSSxXQUFXLENBQUMsUUFBUSxJQUFJLENBQUMsQ0FBRTtBQUMvRyxXQUFPLGVBQWUsV0FBVyxrQkFBa0IsVUFDL0MsUUFBUSxJQUFJLENBQUMsS0FBSyxNQUFNLENBQUMsRUFBRSxLQUFLLENBQUMsQ0FBQyxLQUFLLEtBQUssTUFBTSxJQUFJLEtBQUssS0FBSyxDQUFDLElBQ2pFLElBQUksS0FBSyxNQUFNO0FBQUEsRUFDckI7QUFDQSxRQUFNLFNBQVMsU0FBUyxTQUFTO0FBQ2pDLE1BQUksV0FBVyxrQkFBa0IsVUFBVSxNQUFNLFNBQVM7QUFDMUQsUUFBTSxFQUFFLE9BQU8sSUFBSTtBQUVuQixNQUFJLFVBQVUsU0FBUyxLQUFLLENBQUMsRUFBRSxHQUFHLE1BQU0sQ0FBQyxFQUFFLEtBQUssU0FBUyxNQUFNLENBQUMsRUFBRSxJQUFJLFdBQVcsTUFBTSxNQUFNLFVBQVU7QUFDckcsZUFBVyxNQUFNLFNBQVMsRUFBRSxHQUFHLFdBQVcsT0FBTyxDQUFDO0FBQ3BELFFBQU0sRUFBRSxNQUFNLE9BQU8sUUFBUSxJQUFJLFVBQVUsVUFBVSxPQUFPLFVBQVUsV0FBVyxRQUFRLENBQUM7QUFDMUYsTUFBSSxRQUFRLFNBQVMsUUFBUSxNQUFNLFNBQVMsR0FBRztBQUM3QyxVQUFNLFdBQVcsVUFBVSxRQUFRLE9BQU8sVUFBVSxXQUFXLFFBQVEsTUFBTSxDQUFDO0FBQzlFLFVBQU0sS0FBSyxHQUFHLFNBQVMsSUFBSTtBQUMzQixZQUFRLEtBQUssR0FBRyxTQUFTLE9BQU87QUFBQSxFQUNsQztBQUNBLFFBQU0sT0FBTyxNQUFNLElBQUksQ0FBQyxRQUFTLElBQUksVUFBVSxhQUFhLElBQUksSUFBSSxJQUFJLEVBQUUsR0FBRyxLQUFLLFFBQVEsS0FBSyxJQUFJLEdBQUk7QUFDdkcsYUFBVyxPQUFPLEtBQU0sS0FBSSxJQUFJLE9BQVEsV0FBVSxTQUFTLElBQUksSUFBSSxLQUFLO0FBQ3hFLFFBQU0sU0FBUyxTQUFTLE9BQU8sQ0FBQyxFQUFFLEdBQUcsTUFBTSxDQUFDLEVBQUU7QUFDOUMsUUFBTSxXQUFXLE9BQU8sSUFBSSxDQUFDLFlBQVksa0JBQWtCLE9BQU8sQ0FBQztBQUVuRSxNQUFJLE9BQU8sV0FBVyxFQUFHLFVBQVMsS0FBSyxHQUFHLE9BQU87QUFDakQsU0FBTyxFQUFFLFNBQVMsVUFBVSxNQUFNLFNBQVM7QUFDN0M7QUFHQSxTQUFTLFdBQVcsRUFBRSxPQUFPLEdBQW9CLFVBQW9CLFVBQXdDO0FBQzNHLE1BQUksU0FBUyxRQUFTLFlBQVcsU0FBUyxrQkFBa0IsU0FBUyxJQUFJLEVBQUcsVUFBUyxLQUFLO0FBQzFGLGFBQVcsU0FBUyxRQUFRO0FBQzFCLFFBQUk7QUFDRixZQUFNLFFBQVEsTUFBTSxLQUFLLFFBQVE7QUFDakMsVUFBSSxVQUFVLE9BQVcsVUFBUyxLQUFLO0FBQUEsSUFDekMsUUFBUTtBQUFBLElBRVI7QUFBQSxFQUNGO0FBQ0Y7QUFHQSxTQUFTLFNBQ1AsRUFBRSxjQUFjLE1BQU0sR0FDdEIsTUFDaUQ7QUFDakQsTUFBSSxLQUFLLFdBQVcsRUFBRyxRQUFPLEVBQUUsY0FBYyxNQUFNO0FBQ3BELFFBQU0sU0FBUyxJQUFJLElBQUksS0FBSyxJQUFJLENBQUMsRUFBRSxNQUFNLE1BQU0sTUFBTSxJQUFJLENBQUM7QUFDMUQsTUFBSSxPQUFPLElBQUksUUFBUSxFQUFHLFFBQU8sRUFBRSxjQUFjLENBQUMsR0FBRyxPQUFPLENBQUMsRUFBRTtBQUMvRCxTQUFPLEVBQUUsT0FBTyxjQUFjLGFBQWEsT0FBTyxDQUFDLEVBQUUsTUFBTSxNQUFNLENBQUMsT0FBTyxJQUFJLE1BQU0sSUFBSSxDQUFDLEVBQUU7QUFDNUY7QUFHQSxTQUFTLFVBQVUsU0FBMkI7QUFDNUMsUUFBTSxFQUFFLFVBQVUsUUFBUSxJQUFJO0FBRTlCLFFBQU0sUUFBUSxVQUFVLE1BQU0sVUFBVTtBQUN4QyxNQUFJLENBQUMsWUFBWSxXQUFXLFNBQVMsQ0FBQyxTQUFTLGNBQWMsU0FBUyxTQUFTLEVBQUcsUUFBTztBQUN6RixNQUFJO0FBQ0YsYUFBUyxLQUFLO0FBQ2QsV0FBTztBQUFBLEVBQ1QsU0FBUyxPQUFPO0FBQ2QsV0FBTyxFQUFFLFVBQVUsU0FBUyxVQUFVLEtBQUssRUFBRTtBQUFBLEVBQy9DO0FBQ0Y7QUFFQSxTQUFTLFdBQVcsV0FBc0IsV0FBK0IsVUFBd0M7QUFDL0csTUFBSSxjQUFjLE9BQVcsUUFBTztBQUNwQyxTQUFPLGlCQUFpQixVQUFVLFlBQVksY0FBYyxVQUFVLFlBQVksU0FBUyxHQUFHLFNBQVMsTUFBTTtBQUMvRztBQUVBLFNBQVMsa0JBQWtCLEVBQUUsT0FBTyxVQUFVLE9BQU8sUUFBUSxLQUFLLEdBQXFCO0FBQ3JGLFNBQU8sSUFBSSxRQUFRLGVBQWU7QUFBQSxJQUNoQyxNQUFNLEdBQUcsS0FBSyxjQUFjLFFBQVEsV0FBVyxLQUFLO0FBQUEsSUFDcEQsT0FBTyxDQUFDLFFBQVEsUUFBUSxZQUFZLElBQUksRUFBRSxFQUFFLE9BQU8sT0FBTyxFQUFFLEtBQUssSUFBSSxLQUFLO0FBQUEsSUFDMUUsTUFBTSxFQUFFLE1BQU07QUFBQSxFQUNoQixDQUFDO0FBQ0g7OztBQ25FQSxJQUFNLFlBQVksb0JBQUksSUFBcUI7QUFBQSxFQUN6QztBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFDRixDQUFDO0FBR0QsZUFBc0IsUUFDcEIsTUFDQSxNQUNBLE9BQ21CO0FBQ25CLFFBQU0sRUFBRSxNQUFNLFFBQVEsUUFBUSxVQUFVLEtBQUssSUFBSTtBQUNqRCxRQUFNLFVBQVUsWUFBWSxJQUFJO0FBQ2hDLFdBQVMsUUFBUSxLQUFLLFNBQVMsR0FBRztBQUNoQyxVQUFNLFdBQVcsS0FBSyxNQUFNLE1BQU07QUFDbEMsVUFBTSxPQUFPLG9CQUFvQixVQUFVLE1BQU0sV0FBVztBQUU1RCxRQUFJLENBQUMsS0FBTSxPQUFNLFlBQVk7QUFDN0IsUUFBSSxRQUFRLFNBQVM7QUFDbkIsV0FBSyxNQUFNLEtBQUs7QUFDaEIsWUFBTSxZQUFZO0FBQUEsSUFDcEI7QUFDQSxRQUFJQztBQUNKLFFBQUk7QUFDSixRQUFJO0FBQ0YsTUFBQUEsV0FBVSxNQUFNLEtBQUs7QUFDckIsWUFBTSxVQUFVLFdBQVdBLFNBQVEsU0FBUyxNQUFNLElBQUksTUFBTSxTQUFTQSxTQUFRLFNBQVMsUUFBUSxJQUFJLElBQUk7QUFBQSxJQUN4RyxTQUFTLE9BQU87QUFDZCxXQUFLLE1BQU0sS0FBSztBQUNoQixZQUFNO0FBQUEsSUFDUjtBQUNBLFVBQU0sRUFBRSxTQUFTLElBQUlBLFNBQVE7QUFDN0IsUUFBSSxRQUFRLFVBQWEsQ0FBQyxVQUFVLFFBQVEsU0FBUztBQUNuRCxVQUFJLFNBQVUsV0FBVSxTQUFTLFNBQVMsSUFBSTtBQUM5QyxXQUFLLE1BQU0sUUFBUSxNQUFTO0FBQzVCLGFBQU8sRUFBRSxTQUFBQSxVQUFTLE9BQU8sUUFBUSxPQUFVO0FBQUEsSUFDN0M7QUFDQSxVQUFNLE9BQU8sWUFBWSxVQUFVLFNBQVMsU0FBUyxLQUFLLElBQUksQ0FBQztBQUMvRCxVQUFNLE9BQU8sUUFBUSxRQUFRLFFBQVEsT0FBTyxLQUFLLE9BQU8sQ0FBQztBQUN6RCxRQUFJLFNBQVUsVUFBUyxXQUFXO0FBQ2xDLFVBQU0sVUFBVSxZQUFZLElBQUksSUFBSTtBQUNwQyxVQUFNLFNBQ0osT0FBTyxZQUFZLFNBQVMsU0FDeEIsS0FDQSxPQUFPLE9BQU8sVUFDWixHQUFHLElBQUksaUJBQWlCLGFBQWEsSUFBSSxDQUFDLHFCQUFxQixhQUFhLE9BQU8sT0FBTyxDQUFDLGFBQzNGLFNBQVMsT0FBTyxRQUNkLFNBQVMsS0FBSyxhQUFhLGFBQWEsT0FBTyxDQUFDLCtCQUNoRCxVQUFVLE9BQU8sT0FBTyxTQUN0QixTQUFTLEtBQUssYUFBYSxhQUFhLE9BQU8sQ0FBQyxzREFDaEQ7QUFFWixRQUFJLFdBQVcsUUFBVztBQUN4QixXQUFLLE1BQU0sS0FBSztBQUNoQixhQUFPLEVBQUUsU0FBQUEsVUFBUyxPQUFPLFFBQVEsV0FBVyxLQUFLLFNBQVksT0FBTztBQUFBLElBQ3RFO0FBQ0EsUUFBSSxVQUFVLEVBQUcsVUFBUyxjQUFjO0FBRXhDLFVBQU0sUUFBUSxXQUFXLEtBQUssS0FBSyxNQUFNLElBQUksSUFBSTtBQUNqRCxTQUFLLE1BQU0sS0FBSztBQUNoQixhQUFTLFVBQVU7QUFFbkIsUUFBSSxRQUFRLE9BQU8sS0FBSyxDQUFDLFNBQVUsTUFBSyxTQUFTLEVBQUUsTUFBTSxNQUFNLE9BQU8sS0FBSyxNQUFNLFNBQVMsT0FBVSxDQUFDO0FBQ3JHLFVBQU0sTUFBTUEsUUFBTztBQUVuQixRQUFJLENBQUMsU0FBVSxPQUFNLE1BQU0sTUFBTSxNQUFNO0FBQUEsRUFDekM7QUFDRjtBQUVBLElBQU0sY0FBYyxNQUFlLElBQUksUUFBUSxlQUFlLEVBQUUsTUFBTSxjQUFjLENBQUM7QUFHckYsU0FBUyxVQUNQLE9BQ0EsRUFBRSxNQUFNLFFBQVEsTUFBTSxVQUFVLE9BQU8sR0FDakM7QUFDTixNQUFJLENBQUMsT0FBUTtBQUNiLFFBQU0sT0FBTyxNQUFNLEtBQUs7QUFDeEIsTUFBSSxTQUFTLFVBQWEsUUFBUSxLQUFLLE9BQU8sT0FBTyxRQUFTO0FBQzlELFFBQU0sUUFBUSxLQUFLLEtBQUssSUFBSTtBQUM1QixXQUFTLFVBQVU7QUFDbkIsTUFBSSxRQUFRLEVBQUcsVUFBUyxFQUFFLE1BQU0sTUFBTSxPQUFPLEtBQUssZUFBZSxNQUFNLEtBQUssQ0FBQztBQUMvRTtBQUdBLElBQU0sYUFBYSxDQUFDLEVBQUUsVUFBVSxRQUFRLEdBQVksRUFBRSxVQUFVLEtBQUssTUFDbkUsWUFBWSxVQUFhLEtBQUssU0FBUyxLQUFNLGFBQWEsVUFBYSxTQUFTLElBQUksU0FBUyxNQUFNO0FBRXJHLGVBQWUsU0FDYixFQUFFLFVBQVUsUUFBUSxHQUNwQixRQUNBLE1BQzZCO0FBQzdCLE1BQUksWUFBWSxDQUFDLFNBQVM7QUFDeEIsVUFBTSxFQUFFLE9BQU8sSUFBSTtBQUNuQixRQUFJLE9BQU8sU0FBUyxJQUFJLE1BQU0sTUFBTSxTQUFTLE9BQU8sS0FBSyxhQUFhO0FBQ3BFLGFBQVEsTUFBTSxLQUFLLFNBQVMsRUFBRSxVQUFVLFFBQVEsQ0FBQyxJQUFLLFNBQVksVUFBVSxNQUFNO0FBQUEsSUFDcEY7QUFDQSxRQUFJLE9BQU8sS0FBSyxTQUFTLEtBQU0sTUFBTSxLQUFLLEtBQUssRUFBRSxVQUFVLFFBQVEsQ0FBQyxFQUFJLFFBQU87QUFDL0UsV0FBTztBQUFBLEVBQ1Q7QUFDQSxNQUFJLENBQUMsV0FBVyxPQUFPLFlBQVksQ0FBQyxLQUFLLGNBQWMsQ0FBQyxVQUFVLElBQUksUUFBUSxJQUFJLEVBQUcsUUFBTztBQUM1RixTQUFPLFFBQVE7QUFDakI7QUFHTyxTQUFTLE1BQU0sSUFBWSxRQUFnRDtBQUNoRixTQUFPLElBQUksUUFBUSxDQUFDLFlBQVk7QUFDOUIsUUFBSSxRQUFRLFFBQVMsUUFBTyxRQUFRO0FBQ3BDLFVBQU0sT0FBTyxNQUFZO0FBQ3ZCLG1CQUFhLEtBQUs7QUFDbEIsY0FBUSxvQkFBb0IsU0FBUyxJQUFJO0FBQ3pDLGNBQVE7QUFBQSxJQUNWO0FBQ0EsVUFBTSxRQUFRLFdBQVcsTUFBTSxLQUFLLEtBQUssRUFBRSxDQUFDO0FBQzVDLFlBQVEsaUJBQWlCLFNBQVMsTUFBTSxFQUFFLE1BQU0sS0FBSyxDQUFDO0FBQUEsRUFDeEQsQ0FBQztBQUNIOzs7QUN0SkEsSUFBTSxRQUFRO0FBR1AsU0FBU0MsV0FDZCxXQUNBLFVBQ0EsT0FDQSxVQUNBLFFBQ0EsUUFDcUI7QUFDckIsUUFBTSxFQUFFLE9BQU8sSUFBSTtBQUNuQixRQUFNLE9BQU8sV0FBVyxNQUFNLGNBQWMsV0FBVyxPQUFPLFNBQVMsWUFBWTtBQUNuRixNQUFJLFNBQVMsT0FBVyxRQUFPO0FBQy9CLFFBQU0sYUFBYSxZQUFZLFNBQVMsU0FBUyxrQkFBa0I7QUFDbkUsUUFBTSxPQUFPLFlBQVksUUFBUTtBQUNqQyxTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0EsTUFBTTtBQUFBLE1BQ0osR0FBRyxTQUFTLElBQUksQ0FBQyxTQUFTLFFBQVEsV0FBVyxNQUFNLEtBQUssQ0FBQztBQUFBLE1BQ3pELEdBQUksU0FBUyxDQUFDLGVBQWUsV0FBVyxPQUFPLFdBQVcsS0FBSyxDQUFDLElBQUksQ0FBQztBQUFBLElBQ3ZFO0FBQUEsSUFDQSxNQUFNLENBQUMsWUFBWSxJQUFJLEVBQUUsT0FBTyxDQUFDLFFBQVEsUUFBUSxNQUFTO0FBQUEsSUFDMUQsT0FBTyxRQUFRLFFBQVE7QUFBQSxJQUN2QixVQUNFLFdBQVcsU0FDUCxZQUFZLFdBQVcsTUFBTSxVQUFVLFVBQVUsSUFDakQ7QUFBQSxNQUNFLEdBQUksU0FBUyxTQUFTLElBQUksWUFBWSxXQUFXLE1BQU0sVUFBVSxVQUFVLElBQUksQ0FBQztBQUFBLE1BQ2hGLEdBQUksUUFBUSxRQUFRLE1BQU0sVUFBYSxVQUFVLFlBQVksVUFBVSxRQUNuRSxDQUFDLDJFQUEyRSxJQUM1RSxDQUFDO0FBQUEsTUFDTCxzQkFBc0IsT0FBTyxPQUFPO0FBQUEsSUFDdEM7QUFBQSxFQUNSO0FBQ0Y7QUFHQSxTQUFTLFFBQVEsRUFBRSxXQUFXLEdBQWMsTUFBYyxPQUFzQztBQUM5RixRQUFNLEVBQUUsU0FBUyxNQUFNLEtBQUssSUFBSSxXQUFXLEtBQUssV0FBVyxJQUFJO0FBQy9ELFFBQU0sVUFBVSxNQUFNLE9BQU8sQ0FBQyxFQUFFLE9BQU8sTUFBTSxXQUFXLFdBQVcsSUFBSSxFQUFFLEVBQUUsSUFBSSxDQUFDLFNBQVMsS0FBSyxJQUFJO0FBQ2xHLFFBQU0sUUFDSixRQUFRLFNBQVMsYUFBYSxRQUFRLFVBQVUsU0FDNUMsaUJBQWlCLFFBQVEsS0FBSyxLQUM5QixRQUFRLFNBQVMsZ0JBQ2YseUJBQ0EsUUFBUSxTQUFTLElBQ2YsUUFBUSxLQUFLLElBQUksSUFDakIsUUFBUSxTQUNOLGFBQWEsT0FBTyxLQUFLLFFBQVEsTUFBTSxFQUFFLEtBQUssSUFBSSxDQUFDLEtBQ25EO0FBQ1osU0FBTyxXQUFXLElBQUksS0FBSyxRQUFRLElBQUksTUFBTSxLQUFLLEdBQUcsU0FBUyxPQUFPLENBQUM7QUFDeEU7QUFFQSxTQUFTLGVBQWUsRUFBRSxXQUFXLEdBQWMsTUFBYyxPQUFzQztBQUNyRyxRQUFNLEVBQUUsUUFBUSxJQUFJLFdBQVcsS0FBSyxhQUFhLElBQUk7QUFDckQsUUFBTSxVQUFVLE1BQU0sT0FBTyxDQUFDLEVBQUUsT0FBTyxNQUFNLFdBQVcsYUFBYSxJQUFJLEVBQUUsRUFBRSxJQUFJLENBQUMsU0FBUyxLQUFLLElBQUk7QUFDcEcsU0FBTyxhQUFhLElBQUksS0FBSyxRQUFRLFFBQVEsUUFBUSxNQUFNLFFBQVEsS0FBSyxJQUFJLEtBQUssNEJBQTRCLEdBQUcsU0FBUyxPQUFPLENBQUM7QUFDbkk7QUFHQSxTQUFTLFVBQVUsRUFBRSxVQUFVLEdBQUcsR0FBRyxRQUFRLEdBQXNDO0FBQ2pGLFNBQU8sQ0FBQyxHQUFHLElBQUksSUFBSSxVQUFVLE9BQWdCLEVBQUUsUUFBUSxDQUFDLEVBQUUsT0FBTyxNQUFNLFVBQVUsQ0FBQyxDQUFDLENBQUMsQ0FBQztBQUN2RjtBQUVBLElBQU0sV0FBVyxDQUFDLFlBQTRCO0FBQzVDLFFBQU0sVUFBVSxVQUFVLEVBQUUsR0FBRyxRQUFRLENBQUMsRUFBRSxJQUFJLENBQUMsUUFBUSxVQUFVLEdBQUcsRUFBRTtBQUN0RSxTQUFPLFFBQVEsU0FBUyxJQUFJLGVBQWUsUUFBUSxLQUFLLElBQUksQ0FBQyxLQUFLO0FBQ3BFO0FBR0EsU0FBUyxRQUFRLEVBQUUsU0FBUyxNQUFNLEdBQWlDO0FBQ2pFLFFBQU0sT0FBTyxLQUFLLE1BQU0sWUFBWSxTQUFTLE1BQU0sS0FBSyxFQUFFO0FBQzFELE1BQUksT0FBTyxNQUFNLElBQUksRUFBRyxRQUFPO0FBQy9CLFFBQU0sUUFBUSxRQUFRLEtBQUssSUFBSSxJQUFJLE1BQU0sT0FBTztBQUNoRCxNQUFJLEtBQUssSUFBSSxLQUFLLElBQUksTUFBTyxRQUFPO0FBQ3BDLFFBQU0sVUFBVSxLQUFLLE1BQU0sS0FBSyxJQUFJLEtBQUssSUFBSSxHQUFNLElBQUk7QUFDdkQsU0FBTyx5QkFBeUIsYUFBYSxPQUFPLENBQUMsSUFBSSxRQUFRLElBQUksYUFBYSxRQUFRO0FBQzVGO0FBR0EsSUFBTSxVQUE0QztBQUFBLEVBQ2hELE9BQU87QUFBQSxFQUNQLFFBQVE7QUFBQSxFQUNSLFFBQVE7QUFBQSxFQUNSLE9BQU87QUFBQSxFQUNQLFFBQVE7QUFDVjtBQUVBLFNBQVMsWUFDUCxFQUFFLFdBQVcsR0FDYixNQUNBLFVBQ0EsWUFDVTtBQUNWLFFBQU0sU0FBUyxvQkFBb0IsS0FBSyxjQUFjLEVBQUUsSUFBSSxDQUFDO0FBQzdELE1BQUksU0FBUyxhQUFhO0FBQ3hCLFFBQUksU0FBUyxXQUFXLEVBQUcsUUFBTyxDQUFDLFFBQVEsV0FBVyxNQUFNLFNBQVMsQ0FBQyxDQUFDO0FBQ3ZFLFFBQUkscUJBQXFCLEtBQUssY0FBYyxFQUFFO0FBQzVDLGFBQU8sQ0FBQywwQkFBMEIsU0FBUyxLQUFLLE1BQU0sTUFBTSxFQUFFLDBDQUEwQztBQUMxRyxXQUFPO0FBQUEsTUFDTDtBQUFBLElBQ0Y7QUFBQSxFQUNGO0FBQ0EsTUFBSSxTQUFTLFdBQVcsRUFBRyxRQUFPLENBQUMsUUFBUSxXQUFXLE1BQU0sU0FBUyxDQUFDLENBQUM7QUFDdkUsUUFBTSxRQUFRLFNBQVMsSUFBSSxDQUFDLFNBQVMsV0FBVyxLQUFLLFdBQVcsSUFBSSxFQUFFLE9BQU87QUFDN0UsUUFBTSxVQUFVLENBQUMsSUFBSSxjQUFjLElBQUksU0FBUyxxREFBcUQsQ0FBQyxFQUFFO0FBQUEsSUFDdEcsQ0FBQyxDQUFDLEVBQUUsTUFBTSxNQUFPLE9BQWtCLFlBQVk7QUFBQSxFQUNqRDtBQUNBLFFBQU0sTUFBTSxNQUFNLFFBQVEsQ0FBQyxZQUFZLFFBQVEsUUFBUSxJQUFJLEtBQUssQ0FBQyxDQUFDO0FBQ2xFLFFBQU0sV0FBcUIsQ0FBQztBQUM1QixNQUFJLFFBQVEsU0FBUyxLQUFLLElBQUksU0FBUyxLQUFLLENBQUMsSUFBSSxLQUFLLENBQUMsV0FBVyxRQUFRLFNBQVMsTUFBTSxDQUFDO0FBQ3hGLGFBQVMsS0FBSyxvQkFBb0IsUUFBUSxLQUFLLE1BQU0sQ0FBQyw0QkFBNEIsSUFBSSxLQUFLLElBQUksQ0FBQyxFQUFFO0FBQ3BHLGFBQVcsV0FBVyxPQUFPO0FBQzNCLFVBQU0sVUFBVSxVQUFVLE9BQU87QUFDakMsVUFBTSxNQUFNLFFBQVEsSUFBSSxDQUFDLFNBQVMseUJBQXlCLElBQUksRUFBRSxFQUFFLEtBQUssSUFBSTtBQUM1RSxRQUFJLFFBQVEsU0FBUyxXQUFXLFFBQVEsU0FBUztBQUMvQyxlQUFTLEtBQUssK0ZBQStGO0FBQUEsYUFDdEcsUUFBUSxTQUFTLEVBQUcsVUFBUyxLQUFLLHVDQUF1QyxHQUFHLEVBQUU7QUFBQSxFQUN6RjtBQUNBLFNBQU87QUFDVDtBQUVBLElBQU0sVUFBVSxDQUFDLGFBQ2YsU0FBUyxXQUFXLElBQ2hCLHdEQUNBLDRFQUE0RSxTQUFTLEtBQUssSUFBSSxDQUFDOzs7QUMxSHJHLElBQU0sVUFBVTtBQUdULFNBQVMsUUFBUSxXQUFzQixRQUFnQixPQUFjLFFBQXFCO0FBQy9GLFFBQU0sRUFBRSxRQUFRLGFBQWEsUUFBUSxRQUFRLFNBQVMsSUFBSTtBQUMxRCxNQUFJLFFBQVE7QUFFWixRQUFNLFVBQVUsb0JBQUksSUFBWTtBQUNoQyxRQUFNLFdBQVcsQ0FBQyxVQUF1QjtBQUN2QyxRQUFJLEVBQUUsaUJBQWlCLFlBQWEsU0FBUSxJQUFJLE9BQU8sS0FBSyxDQUFDO0FBQUEsRUFDL0Q7QUFDQSxRQUFNLE9BQU8sQ0FBQyxTQUFtQztBQUMvQyxVQUFNLFFBQVEsWUFBWSxVQUFVLG1CQUFtQixRQUFRLFFBQVEsU0FBWSxPQUFPLE1BQU0sS0FBSyxJQUFJLElBQUksSUFBSTtBQUNqSCxVQUFNLFFBQVEsU0FBUyxVQUFVLE1BQU0sUUFBUSxRQUFRLFVBQWEsS0FBSyxJQUFJLElBQUksTUFBTSxJQUFJLFFBQVEsSUFBSTtBQUN2RyxVQUFNLE1BQU0sUUFBUSxRQUFRLE1BQU0sTUFBTSxFQUFFLEtBQUssUUFBUSxPQUFPLElBQUksS0FBSyxLQUFLLElBQUksSUFBSSxLQUFLLEdBQUcsT0FBTyxRQUFRLE1BQU0sQ0FBQztBQUNsSCxZQUFRO0FBQ1IsV0FBTyxFQUFFLE9BQU8sS0FBSyxXQUFXLGNBQWMsUUFBUSxRQUFRLEVBQUUsT0FBTyxLQUFLLFNBQVMsQ0FBQyxHQUFHLFNBQVM7QUFBQSxFQUNwRztBQUNBLFNBQU87QUFBQSxJQUNMO0FBQUEsSUFDQSxNQUFNLENBQUMsTUFBTSxTQUFTLE9BQU8sS0FBSyxNQUFNLE9BQU8sRUFBRSxHQUFHLEtBQUssSUFBSSxHQUFHLE1BQU0sS0FBSyxJQUFJLEtBQUssSUFBSSxDQUFDO0FBQUEsSUFDekYsVUFBVSxDQUFDLFVBQVUsU0FBUyxPQUFPLFNBQVMsVUFBVSxNQUFNLEtBQUssSUFBSSxDQUFDO0FBQUEsSUFDeEUsS0FBSyxVQUFVO0FBQ2IsaUJBQVcsUUFBUSxTQUFTO0FBQzFCLFlBQUksS0FBSyxTQUFTLEVBQUc7QUFDckIsY0FBTSxZQUFZLGNBQWMsSUFBSTtBQUNwQyxjQUFNLFVBQVUsQ0FBQyxRQUNmLElBQUksVUFBVSxLQUFLLFdBQVcsSUFBSSxTQUFTLElBQUksS0FBTSxjQUFjLFFBQVEsSUFBSSxTQUFTLFNBQVM7QUFDbkcsWUFBSSxTQUFTLFFBQVEsS0FBSyxDQUFDLENBQUMsRUFBRSxLQUFLLE1BQU0sUUFBUSxLQUFLLENBQUMsS0FBTSxTQUFTLFdBQVcsUUFBUSxTQUFTLElBQUk7QUFDcEcsbUJBQVMsSUFBSSxJQUFJO0FBQUEsTUFDckI7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNGOzs7QUN6REEsSUFBTSxhQUFhLG9CQUFJLElBQUksQ0FBQyxPQUFPLFFBQVEsQ0FBQztBQUVyQyxJQUFNLGVBQWUsQ0FBQztBQUFBLEVBQzNCO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFDRixNQUllLENBQUMsV0FBVyxXQUFXLElBQUksTUFBTSxLQUFLLG1CQUFtQjs7O0FDRGpFLFNBQVMsUUFDZCxXQUNBLFVBQ0EsRUFBRSxlQUFlLENBQUMsR0FBRyxRQUFRLE9BQU8sR0FDcEMsRUFBRSxTQUFTLEtBQUssR0FDaEIsWUFDUztBQUNULFFBQU0sRUFBRSxLQUFLLElBQUksS0FBSztBQUN0QixRQUFNLFNBQVMsU0FBUyxRQUFRLFNBQVMsTUFBTSxTQUFTLFVBQVU7QUFDbEUsUUFBTSxRQUFRLE9BQU8sUUFBZ0MsRUFBRSxTQUFTLEdBQVksUUFDMUUsYUFBYSxXQUNaLE1BQU0sTUFBTSxRQUFRLFVBQVUsS0FBSyxFQUFFLFlBQVksTUFBTSxPQUFVLENBQUMsR0FBRyxNQUFNLENBQUMsRUFBRSxHQUFHLE1BQU0sRUFBRTtBQUM1RixRQUFNLFdBQVcsQ0FBQyxPQUE4QyxHQUFHLE9BQU8sQ0FBQyxFQUFFLE1BQU0sTUFBTSxNQUFNLFNBQVMsUUFBUTtBQUNoSCxTQUFPO0FBQUEsSUFDTCxNQUFNLFVBQVUsS0FBSyxJQUFJO0FBQUEsSUFDekI7QUFBQSxJQUNBO0FBQUEsSUFDQSxZQUFZLGFBQWEsT0FBTztBQUFBLElBQ2hDO0FBQUEsSUFDQSxVQUFVLFVBQVU7QUFBQSxJQUNwQixRQUFRLFVBQVU7QUFBQSxJQUNsQixNQUFNLFNBQVMsU0FBUztBQUN0QixZQUFNLENBQUMsUUFBUSxHQUFHLElBQUksQ0FBQyxTQUFTLFlBQVksR0FBRyxTQUFTLFNBQVMsWUFBWSxDQUFDO0FBRTlFLFVBQUksT0FBTyxTQUFTLEVBQUcsUUFBTyxNQUFNLFFBQVEsU0FBUyxXQUFXLE1BQU0sQ0FBQztBQUN2RSxhQUFPLElBQUksU0FBUyxLQUFLLE1BQU0sS0FBSyxTQUFTLFdBQVcsQ0FBQztBQUFBLElBQzNEO0FBQUEsSUFDQSxNQUFNLENBQUMsWUFBWSxNQUFNLFFBQVEsUUFBUSxDQUFDLEdBQUcsU0FBUyxXQUFXLENBQUM7QUFBQSxFQUNwRTtBQUNGOzs7QUNiQSxTQUFTLFNBQ1AsV0FDQSxFQUFFLE9BQU8sUUFBUSxnQkFBZ0IsUUFBUSxHQUN6QyxVQUMwQztBQUMxQyxRQUFNLEVBQUUsUUFBUSxVQUFVLFNBQVMsV0FBVyxJQUFJO0FBQ2xELFFBQU0sUUFBUSxVQUFVLE1BQU07QUFDOUIsUUFBTSxXQUFXLFNBQVM7QUFDMUIsU0FBTyxFQUFFLFFBQVEsT0FBTyxRQUFRLFNBQVMsWUFBWSxPQUFPLFVBQVUsZ0JBQWdCLFNBQVMsU0FBUztBQUMxRztBQUdBLGVBQXNCLGVBQ3BCLFdBQ0EsVUFDQSxTQUNrQjtBQUNsQixRQUFNLFdBQVcsUUFBUSxZQUFZLFNBQVMsS0FBSztBQUNuRCxRQUFNLFNBQVMsU0FBUyxXQUFXLE9BQU87QUFDMUMsUUFBTSxFQUFFLFFBQVEsSUFBSSxlQUFlLFNBQVMsTUFBTTtBQUFBLElBQ2hELEdBQUc7QUFBQSxJQUNILFVBQVUsTUFBTSxjQUFjLFdBQVcsVUFBVSxLQUFLO0FBQUEsSUFDeEQsYUFBYTtBQUFBLEVBQ2YsQ0FBQztBQUNELFFBQU0sRUFBRSxPQUFPLE9BQU8sUUFBUSxJQUFJLE1BQU0sVUFBVSxTQUFTLEtBQUssUUFBUTtBQUN4RSxRQUFNLE9BQU8sU0FBUyxXQUFXLFNBQVMsT0FBTyxLQUFLO0FBQ3RELFFBQU0sVUFBVSxNQUFNLE9BQU8sV0FBVyxVQUFVLFFBQVEsU0FBUyxHQUFHLEtBQUssS0FBSyxHQUFHO0FBQ25GLFFBQU0sV0FBVyxTQUFTLFNBQVMsV0FBVyxTQUFTLENBQUMsR0FBRyxPQUFPLE1BQU0sR0FBRyxLQUFLLElBQUk7QUFDcEYsUUFBTSxTQUFTLE1BQU0sVUFBVSxXQUFXLFVBQVUsUUFBUSxTQUFTO0FBQ3JFLFFBQU0sT0FBTyxVQUFVLFFBQVEsV0FBVyxRQUFRLE9BQU8sT0FBTyxRQUFRLE1BQU07QUFDOUUsUUFBTSxTQUFTLE1BQU0sS0FBSyxVQUFVLE1BQU07QUFDMUMsU0FBTztBQUFBLElBQ0w7QUFBQSxJQUNBO0FBQUEsSUFDQSxRQUFRLFNBQVMsTUFBTSxTQUFTO0FBQUEsSUFDaEMsTUFBTSxRQUFRLFFBQVE7QUFBQSxJQUN0QixRQUFRLFFBQ04sVUFBVTtBQUFBLE1BQ1IsTUFBTSxLQUFLLE9BQU87QUFBQSxNQUNsQixPQUFPLE9BQU87QUFBQSxNQUNkLFNBQVMsT0FBTztBQUFBLE1BQ2hCLE9BQU87QUFBQSxRQUNMLE9BQU8sVUFBVSxPQUFPLE1BQU0sS0FBSyxJQUFJLElBQUk7QUFBQSxRQUMzQyxVQUFVLFVBQVUsWUFBWSxVQUFVLG1CQUFtQixVQUFVLFFBQVEsUUFBUTtBQUFBLE1BQ3pGO0FBQUEsSUFDRjtBQUFBLEVBQ0o7QUFDRjtBQUdBLGVBQWUsVUFDYixXQUNBLFVBQ0EsT0FDNkI7QUFDN0IsTUFBSSxVQUFVLE9BQVcsUUFBTyxTQUFTO0FBQ3pDLFNBQU8sVUFBVSxTQUFTLFNBQVksVUFBVSxPQUFPLEtBQUs7QUFDOUQ7QUFNQSxlQUFzQixZQUFZLFdBQXNCLFVBQTJCLFNBQWlDO0FBQ2xILE1BQUksVUFBVSxPQUFRLFFBQU8sT0FBTyxXQUFXLFVBQVUsT0FBTztBQUNoRSxRQUFNLFdBQVcsUUFBUSxZQUFZLFNBQVMsS0FBSztBQUVuRCxRQUFNLFdBQVcsU0FBUyxTQUFTLElBQUksTUFBTSxjQUFjLFdBQVcsVUFBVSxLQUFLLElBQUk7QUFDekYsUUFBTSxTQUFTLFNBQVMsV0FBVyxTQUFTLFFBQVE7QUFDcEQsTUFBSSxFQUFFLFNBQVMsT0FBTyxPQUFPLElBQUksZUFBZSxTQUFTLE1BQU0sTUFBTTtBQUNyRSxNQUFJLE9BQU8sU0FBUyxXQUFXLFNBQVMsUUFBUSxTQUFTLENBQUMsQ0FBQztBQUMzRCxNQUFJLFFBQVEsWUFBWTtBQUN0QixVQUFNLGtCQUFrQixXQUFXLE1BQU0sUUFBUSxVQUFVO0FBQzNELFdBQU8sU0FBUyxXQUFXLFNBQVMsUUFBUSxTQUFTLENBQUMsQ0FBQztBQUFBLEVBQ3pEO0FBQ0EsTUFBSSxTQUFTLFNBQVMsRUFBRyxXQUFVLE1BQU0sT0FBTyxLQUFLLEtBQUssZUFBZSxTQUFTLEtBQUssSUFBSSxDQUFDLEVBQUU7QUFDOUYsUUFBTSxTQUNKLFFBQVEsY0FBYyxTQUFZLFNBQVMsU0FBUyxNQUFNLFVBQVUsV0FBVyxVQUFVLFFBQVEsU0FBUztBQUM1RyxRQUFNLE9BQU8sVUFBVSxRQUFRLFdBQVcsUUFBUSxPQUFPLE9BQU8sUUFBUSxNQUFNO0FBQzlFLE1BQUksS0FBTSxXQUFVLE1BQU0sT0FBTyxLQUFLLEtBQUssaUJBQWlCLEtBQUssT0FBTyxJQUFJLEVBQUU7QUFDOUUsTUFBSSxRQUFRLFdBQVcsdUJBQXVCLFdBQVcsUUFBUTtBQUMvRCxVQUFNLFVBQVUsYUFBYSxFQUFFLE1BQU0sS0FBSyxJQUFJLE1BQU0sUUFBUSxRQUFRLFFBQVEsS0FBSyxLQUFLLFNBQVMsQ0FBQztBQUVsRyxRQUFNLFNBQVMsQ0FBQyxFQUFFLElBQUksTUFBQUMsTUFBSyxHQUFZQyxTQUFnQixVQUE0QjtBQUNqRixVQUFNQyxNQUFLLFVBQVUsSUFBSSxPQUFPO0FBQ2hDLFVBQU0sRUFBRSxNQUFNLFlBQVksSUFBSSxVQUFVO0FBQ3hDLFVBQU0sRUFBRSxNQUFNLElBQUksSUFBSTtBQUN0QixVQUFNLEVBQUUsTUFBTSxVQUFVLElBQUksS0FBSztBQUNqQyxVQUFNLFdBQVc7QUFBQSxNQUNmLElBQUFBO0FBQUEsTUFDQTtBQUFBLE1BQ0E7QUFBQSxNQUNBLFNBQVM7QUFBQSxNQUNUO0FBQUEsTUFDQTtBQUFBLE1BQ0E7QUFBQSxNQUNBO0FBQUEsTUFDQTtBQUFBLE1BQ0EsT0FBTyxTQUFTO0FBQUEsSUFDbEI7QUFDQSxVQUFNLEVBQUUsU0FBQUMsVUFBUyxVQUFBQyxXQUFVLE1BQUFDLE1BQUssSUFBSUo7QUFDcEMsY0FBVSxJQUFJLE9BQU8sV0FBVyxVQUFVRCxPQUFNRyxVQUFTQyxXQUFVQyxPQUFNLFVBQVUsVUFBVSxVQUFVLElBQUksTUFBTSxDQUFDO0FBQ2xILFdBQU9IO0FBQUEsRUFDVDtBQUNBLFFBQU0sT0FBcUI7QUFBQSxJQUN6QjtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQSxNQUNFLGFBQ0MsWUFBWTtBQUNYLGFBQU8sV0FBVyxNQUFNLGNBQWMsV0FBVyxVQUFVLElBQUk7QUFDL0QsWUFBTSxRQUFRLGVBQWUsU0FBUyxNQUFNLE1BQU07QUFDbEQsT0FBQyxFQUFFLE9BQU8sT0FBTyxJQUFJO0FBQ3JCLGFBQU8sTUFBTTtBQUFBLElBQ2Y7QUFBQSxFQUNKO0FBQ0EsUUFBTSxZQUFZLE1BQU0sUUFBUSxLQUFLO0FBQ3JDLFFBQU0sZUFBZSxRQUFRLGFBQWEsa0JBQWtCLFdBQVcsS0FBSyxTQUFTLFFBQVEsVUFBVSxJQUFJLENBQUM7QUFDNUcsUUFBTTtBQUFBLElBQ0osU0FBUztBQUFBLElBQ1Q7QUFBQSxJQUNBO0FBQUEsRUFDRixJQUFJLE1BQU07QUFBQSxJQUNSLFFBQVEsV0FBVyxVQUFVLFNBQVMsTUFBTSxDQUFDLFFBQVEsSUFBSSxXQUFXLE9BQU8sT0FBTyxNQUFNLENBQUM7QUFBQSxJQUN6RixNQUFNLFNBQVMsSUFBSTtBQUFBLElBQ25CLE9BQU8sVUFBVTtBQUVmLGFBQU8sT0FBTyxFQUFFLFNBQVMsTUFBTSxTQUFTLFVBQVUsQ0FBQyxHQUFHLE1BQU0sQ0FBQyxHQUFHLFVBQVUsQ0FBQyxFQUFFLEdBQUcsT0FBTztBQUFBLElBQ3pGO0FBQUEsRUFDRjtBQUNBLFFBQU0sRUFBRSxPQUFPLElBQUk7QUFDbkIsWUFBVSxLQUFLO0FBQ2YsUUFBTSxFQUFFLE1BQU0sUUFBUSxJQUFJO0FBQzFCLFFBQU0sRUFBRSxTQUFTLElBQUk7QUFDckIsUUFBTSxVQUNKLFlBQ0FJO0FBQUEsSUFDRTtBQUFBLElBQ0E7QUFBQSxJQUNBLEtBQUs7QUFBQSxJQUNMO0FBQUEsSUFDQTtBQUFBLElBQ0EsUUFBUSxFQUFFLFdBQVcsS0FBSyxPQUFPLE1BQU0sU0FBUyxRQUFRLEtBQUs7QUFBQSxFQUMvRDtBQUVGLFFBQU0sU0FBUyxNQUFNLGFBQWEsV0FBVyxVQUFVLFNBQVMsU0FBUyxPQUFPLE1BQU07QUFDdEYsUUFBTSxXQUFXLFlBQVksQ0FBQyxRQUFRLFVBQVUsTUFBTSxTQUFTLFVBQVUsSUFBSSxJQUFJO0FBQ2pGLE1BQUksU0FBVSxRQUFPLFNBQVMsS0FBSyxRQUFRO0FBQzNDLE1BQUksV0FBVyxVQUFhLE9BQU8sU0FBUyxTQUFTO0FBQ25ELFdBQU8sU0FBUyxLQUFLLElBQUksUUFBUSxlQUFlLEVBQUUsTUFBTSxPQUFPLENBQUMsQ0FBQztBQUNuRSxRQUFNLEtBQUssT0FBTyxPQUFPLE1BQU07QUFDL0IsTUFBSSxVQUFVLElBQUksVUFBVSxJQUFLLE9BQU0sVUFBVSxJQUFJLFFBQVE7QUFFN0QsUUFBTSxFQUFFLFVBQVUsTUFBTSxTQUFTLElBQUk7QUFDckMsUUFBTSxTQUFTLFNBQVMsTUFBTSxTQUFTO0FBQ3ZDLFNBQU87QUFBQSxJQUNMLE1BQU07QUFBQSxJQUNOO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBLFNBQVMsT0FBTztBQUFBLElBQ2hCO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxFQUNGO0FBQ0Y7QUFHQSxTQUFTLHVCQUF1QixFQUFFLGFBQWEsV0FBVyxHQUFjLEVBQUUsS0FBSyxHQUE2QjtBQUMxRyxRQUFNLEVBQUUsU0FBUyxVQUFVLElBQUksS0FBSztBQUNwQyxNQUFJLFlBQVksWUFBWSxXQUFXLFlBQVksVUFBYSxjQUFjLE9BQVcsUUFBTztBQUNoRyxNQUFJO0FBQ0YsV0FBTyxjQUFjLFlBQVksU0FBUyxFQUFFO0FBQUEsRUFDOUMsUUFBUTtBQUVOLFdBQU87QUFBQSxFQUNUO0FBQ0Y7QUFHQSxlQUFlLGtCQUNiLEVBQUUsS0FBSyxHQUNQLEVBQUUsS0FBSyxXQUFXLEdBQ2xCLFlBQ2U7QUFDZixRQUFNLFFBQVEsSUFBSSxhQUFhLFdBQVcsTUFBTSxjQUFjLEtBQUssV0FBVyxLQUFLLFVBQVUsSUFBSTtBQUNqRyxNQUFJLENBQUMsT0FBTztBQUNWLFVBQU0sSUFBSSxRQUFRLGNBQWM7QUFBQSxNQUM5QixNQUFNLEdBQUcsSUFBSSxJQUFJO0FBQUEsTUFDakIsT0FBTztBQUFBLE1BQ1AsT0FBTyxJQUFJLGFBQWEsV0FBVyxpQ0FBaUM7QUFBQSxJQUN0RSxDQUFDO0FBQUEsRUFDSDtBQUNBLGFBQVcsT0FBTyxNQUFNLEtBQUssT0FBTyxLQUFLLEtBQUssQ0FBQztBQUNqRDtBQUdBLFNBQVMsa0JBQ1AsV0FDQSxTQUNBLEtBQ3FCO0FBQ3JCLE1BQUksUUFBUSxjQUFjLE9BQVcsUUFBTyxDQUFDO0FBQzdDLFFBQU0sUUFBUSxrQkFBa0IsU0FBUyxjQUFjLFVBQVUsWUFBWSxRQUFRLFNBQVMsQ0FBQztBQUMvRixNQUFJLFFBQVEsVUFBVSxNQUFNLFdBQVcsRUFBRyxRQUFPO0FBQ2pELFFBQU0sSUFBSSxRQUFRLGtCQUFrQjtBQUFBLElBQ2xDLE1BQU0sNEJBQTRCLFFBQVEsU0FBUyxLQUFLLE1BQU0sSUFBSSxDQUFDLEVBQUUsSUFBSSxLQUFLLE1BQU0sR0FBRyxFQUFFLElBQUksSUFBSSxFQUFFLEVBQUUsS0FBSyxJQUFJLENBQUM7QUFBQSxJQUMvRyxRQUFRLHdCQUF3QixRQUFRLFNBQVM7QUFBQSxJQUNqRCxNQUFNLEVBQUUsV0FBVyxRQUFRLFVBQVU7QUFBQSxFQUN2QyxDQUFDO0FBQ0g7QUFHQSxlQUFlLE9BQU8sV0FBc0IsVUFBMkIsU0FBaUM7QUFDdEcsUUFBTSxFQUFFLFNBQVMsTUFBTSxPQUFPLElBQUksTUFBTSxlQUFlLFdBQVcsVUFBVSxPQUFPO0FBQ25GLE1BQUksUUFBUSxXQUFXLFVBQVUsWUFBWSxZQUFZO0FBQ3ZELFVBQU0sVUFBVSxhQUFhLEVBQUUsTUFBTSxLQUFLLElBQUksTUFBTSxRQUFRLFFBQVEsUUFBUSxLQUFLLEtBQUssU0FBUyxDQUFDO0FBQ2xHLFFBQU0sZUFBZSxFQUFFLE9BQU8sVUFBVSxNQUFNLEdBQUcsVUFBVSxVQUFVLFNBQVMsSUFBSTtBQUNsRixRQUFNLEVBQUUsS0FBSyxJQUFJO0FBQUEsSUFDZixDQUFDLEdBQUcsU0FBUyxPQUFPLEdBQUksUUFBUSxTQUFTLENBQUMsQ0FBRTtBQUFBLElBQzVDLFNBQVMsa0JBQWtCLFdBQVcsUUFBUSxTQUFTLENBQUM7QUFBQSxJQUN4RCxJQUFJLFdBQVcsU0FBUyxZQUFZO0FBQUEsRUFDdEM7QUFDQSxRQUFNLFVBQVUsRUFBRSxVQUFVLFFBQVcsU0FBUyxPQUFVO0FBQzFELFFBQU0sVUFBVSxFQUFFLFVBQVUsQ0FBQyxHQUFHLGNBQWMsQ0FBQyxHQUFHLFVBQVUsQ0FBQyxHQUFHLFNBQVMsT0FBVTtBQUNuRixTQUFPLEVBQUUsTUFBTSxJQUFJLE9BQU8sR0FBRyxTQUFTLE1BQU0sUUFBUSxTQUFTLE1BQU0sR0FBRyxRQUFRO0FBQ2hGO0FBR0EsU0FBUyxrQkFBa0IsRUFBRSxXQUFXLEdBQWMsV0FBc0M7QUFDMUYsTUFBSSxjQUFjLE9BQVcsUUFBTztBQUNwQyxNQUFJO0FBQ0YsVUFBTSxFQUFFLFFBQVEsSUFBSSxjQUFjLFlBQVksU0FBUztBQUN2RCxVQUFNLE9BQU8sUUFBUTtBQUFBLE1BQ25CLENBQUMsRUFBRSxRQUFRLFFBQVEsTUFBTSxrQkFBa0IsS0FBSyxNQUFNLEtBQUssU0FBUyxZQUFZO0FBQUEsSUFDbEY7QUFDQSxXQUFPLE1BQU0sU0FBUyxXQUFXO0FBQUEsRUFDbkMsUUFBUTtBQUVOLFdBQU87QUFBQSxFQUNUO0FBQ0Y7IiwKICAibmFtZXMiOiBbImRvY3VtZW50ZWQiLCAib3duIiwgIm1hZGUiLCAiYXR0ZW1wdCIsICJyZWZ1c2FsT2YiLCAid2lyZSIsICJqdWRnZWQiLCAiaWQiLCAib3V0Y29tZSIsICJ2ZXJkaWN0cyIsICJrZXB0IiwgInJlZnVzYWxPZiJdCn0K
