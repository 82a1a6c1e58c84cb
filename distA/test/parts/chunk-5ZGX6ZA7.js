import {
  retainJournals
} from "./chunk-PZED2WGY.js";
import {
  lineLog
} from "./chunk-GPEMP43C.js";
import {
  secretStore
} from "./chunk-2LOVFGJG.js";
import {
  compileTemplateText,
  prepareRequest,
  prepareSigner,
  timeoutOf
} from "./chunk-PTKJWRDQ.js";
import {
  claimsOf
} from "./chunk-CU7URKGF.js";
import {
  sessionKinds
} from "./chunk-HXYVL4WF.js";
import {
  echoText,
  retain
} from "./chunk-5LQRYHH4.js";
import {
  certificatePins
} from "./chunk-6W75UDE7.js";
import {
  openDocumentationLater
} from "./chunk-KPXZDYPQ.js";
import {
  namesUsed
} from "./chunk-JTXRQ3DM.js";
import {
  collectionVariables,
  readEnvironment,
  variableLayers,
  variableNames
} from "./chunk-7G6JQYYU.js";
import {
  HostGate
} from "./chunk-X5BVULSM.js";
import {
  retryPolicy
} from "./chunk-KDZI5FEM.js";
import {
  makeRedactor
} from "./chunk-34QJGQUN.js";
import {
  sealedFile
} from "./chunk-JGR34Z6O.js";
import {
  writeAtomically
} from "./chunk-IBVRGXBJ.js";
import {
  isSecretName
} from "./chunk-BC36KCSM.js";
import {
  credentialHosts
} from "./chunk-EUJL6DSN.js";
import {
  openTransport
} from "./chunk-EL2VJIY4.js";
import {
  connectionPlan,
  tlsIdentity
} from "./chunk-77DFO3CW.js";
import {
  headerValue
} from "./chunk-UHUDVQF4.js";
import {
  parseSize
} from "./chunk-IQWA53IU.js";
import {
  worldMaker
} from "./chunk-LS5VPUTR.js";
import {
  compileTree
} from "./chunk-6FF7OQVK.js";
import {
  layered,
  namesFrom,
  noNames
} from "./chunk-ILBUWU7B.js";
import {
  pathInside
} from "./chunk-QF6HTAQS.js";
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
  Problem
} from "./chunk-FSPVDUAZ.js";

// src/core/trail/workspace.ts
import { readFileSync as readFileSync3 } from "node:fs";

// src/core/echo/log.ts
import { randomBytes } from "node:crypto";
import { mkdir, writeFile } from "node:fs/promises";
import { join } from "node:path";
function openEchoLog(local, started) {
  const run = shortName();
  const folder = join(local, "echoes");
  const path = join(folder, `${started.toISOString().replace(/[-:]|\.\d+/g, "")}-${run}.jsonl`);
  let count = 0;
  let lines = [];
  let size = 0;
  let failure;
  const bodies = [];
  const log = lineLog(path, () => {
    const batch = lines.join("");
    lines = [];
    size = 0;
    return batch;
  });
  return {
    run,
    nextId: () => {
      count += 1;
      return `${run}.${count}`;
    },
    append(echo) {
      const line = `${JSON.stringify(echo)}
`;
      lines.push(line);
      size += line.length;
      log.wake();
    },
    beside(id, direction, content) {
      if (content.length > longestBeside) return void 0;
      const name = `bodies/${run}/${id.slice(run.length + 1)}-${direction}`;
      bodies.push(
        mkdir(join(folder, "bodies", run), { recursive: true, mode: 448 }).then(() => writeFile(join(folder, name), content, { mode: 384 })).catch((error) => {
          failure ??= error;
        })
      );
      return name;
    },
    get waiting() {
      return size;
    },
    async flushed() {
      await log.written();
      await Promise.all(bodies);
    },
    async close() {
      await log.close();
      await Promise.all(bodies);
      if (failure !== void 0) throw failure;
    }
  };
}
var longestBeside = 64e6;
function shortName() {
  const letters = "abcdefghjkmnpqrstuvwxyz";
  const both = `${letters}23456789`;
  return [...randomBytes(4)].map((byte, index) => index === 0 ? letters[byte % letters.length] : both[byte % both.length]).join("");
}

// src/core/exchange/templates.ts
import { readFileSync } from "node:fs";
var deepest = 20;
function templateRenderer(root) {
  const plans = /* @__PURE__ */ new Map();
  let depth = 0;
  return (path, evaluation) => {
    let plan = plans.get(path);
    if (!plan) {
      plan = compileTemplateText(readFileSync(pathInside(root, path), "utf8").replace(/^\uFEFF/, ""), path, []);
      plans.set(path, plan);
    }
    if (depth >= deepest)
      throw new Problem("expression-value", { what: `the template ${path} renders itself`, where: { file: path } });
    depth += 1;
    try {
      const body = plan(evaluation);
      if (body?.secret) evaluation.touchedSecret = true;
      return body ? Buffer.from(body.bytes).toString("utf8") : "";
    } finally {
      depth -= 1;
    }
  };
}

// src/core/session/cookie-jar.ts
import { existsSync } from "node:fs";
import { join as join2 } from "node:path";
function cookieJars(local, home, environment, onSecret) {
  const path = join2(local, "cookies", `${environment.replaceAll("/", "-")}.sealed`);
  const file = sealedFile(path, home, {});
  const jars = /* @__PURE__ */ new Map();
  let stored = existsSync(path) ? void 0 : Promise.resolve({});
  let changed = false;
  const jarOf = async (name) => {
    stored ??= file.read();
    const known = jars.get(name);
    if (known) return known;
    const before = (await stored)[name];
    if (!before) return void 0;
    const { CookieJar: Jar } = await import("tough-cookie");
    const jar = Jar.deserializeSync(before);
    for (const { value } of before.cookies ?? []) if (typeof value === "string") onSecret(value);
    jars.set(name, jar);
    return jar;
  };
  const opened = /* @__PURE__ */ new Map();
  const make = async (name) => {
    let jar = await jarOf(name);
    const one = {
      line(url) {
        const value = jar?.getCookieStringSync(url.href) ?? "";
        return value === "" ? void 0 : { name: "Cookie", value, origin: "cookies", secret: true };
      },
      async take(url, headers) {
        const lines = headers.filter(([key]) => key.toLowerCase() === "set-cookie");
        if (lines.length === 0) return [];
        const { CookieJar: Jar, Cookie } = await import("tough-cookie");
        jar ??= jars.get(name) ?? new Jar(void 0, { looseMode: true });
        jars.set(name, jar);
        const names = [];
        for (const [, line] of lines) {
          const cookie = Cookie.parse(line, { loose: true });
          if (!cookie) continue;
          onSecret(cookie.value);
          if (jar.setCookieSync(cookie, url.href, { ignoreError: true })) names.push(cookie.key);
        }
        changed = true;
        return names;
      }
    };
    opened.set(name, one);
    return one;
  };
  return {
    // A run asks at every request: then it is there already.
    open(sessions) {
      const name = sessions.length > 1 ? [...sessions].sort().join(" ") : sessions[0] ?? "";
      return opened.get(name) ?? make(name);
    },
    async close() {
      if (!changed) return;
      const all = Object.fromEntries([...jars].map(([name, jar]) => [name, jar.serializeSync()]));
      await file.write({ ...await stored, ...all });
      changed = false;
    },
    forget(session) {
      jars.delete(session);
      opened.delete(session);
      stored = (stored ?? file.read()).then(({ [session]: _, ...others }) => others);
      changed = true;
    },
    async clear() {
      jars.clear();
      opened.clear();
      changed = false;
      stored = Promise.resolve({});
      if (existsSync(path)) await file.write({});
    }
  };
}

// src/core/session/sessions.ts
import { join as join3 } from "node:path";

// src/core/storage/alone.ts
import { mkdir as mkdir2 } from "node:fs/promises";
import { dirname } from "node:path";
var stale = 15e3;
var patience = { retries: 4e3, factor: 1.2, minTimeout: 20, maxTimeout: 250 };
async function alone(path, work) {
  const { default: locks } = await import("proper-lockfile");
  await mkdir2(dirname(path), { recursive: true });
  let release;
  try {
    release = await locks.lock(path, { realpath: false, stale, retries: patience });
  } catch (error) {
    throw new Problem(
      "file-unreadable",
      {
        what: `no lock can be had at ${path}.lock`,
        cause: error.message,
        remedy: "another process holds it; where none runs, remove the folder"
      },
      { cause: error }
    );
  }
  try {
    return await work();
  } finally {
    await release().catch(() => void 0);
  }
}

// src/core/session/sessions.ts
var margin = 5e3;
function openSessions(settings) {
  const { collection, environment, host, home, room, onSecret, onOpened, onClosed } = settings;
  const path = join3(collection.local, "sessions.sealed");
  const file = sealedFile(path, home, {});
  const keyOf = (name) => `${environment} ${host} ${name}`;
  const inMemory = /* @__PURE__ */ new Map();
  const opening = /* @__PURE__ */ new Map();
  const openedHere = [];
  let stored;
  const kindOf = (name) => {
    const loaded = collection.read("session", name);
    const kind = sessionKinds.get(loaded.content.kind);
    if (!kind) throw new Problem("session-missing", { what: `there is no kind of session ${loaded.content.kind}` });
    return { kind, full: loaded.name, content: loaded.content };
  };
  const tell = ({ token, refresh, kept }) => {
    if (token !== "") onSecret(token);
    if (refresh !== void 0) onSecret(refresh);
    for (const [name, value] of Object.entries(kept ?? {})) if (isSecretName(name)) onSecret(value);
  };
  async function storeChange(change) {
    const sessions = { ...await file.read() };
    change(sessions);
    await file.write(sessions);
    stored = Promise.resolve(sessions);
  }
  async function known(full) {
    const before = inMemory.get(full);
    if (before) return before;
    stored ??= file.read();
    const session = (await stored)[keyOf(full)];
    if (!session) return void 0;
    tell(session);
    inMemory.set(full, session);
    return session;
  }
  const good = ({ expires }) => expires === void 0 || expires > Date.now() + margin;
  const openedAlone = ({ kind, full, content }, open, reason) => alone(`${path}.${full.replaceAll("/", "-")}`, async () => {
    const before = (await file.read())[keyOf(full)];
    const another = before && good(before) && (reason === "needed" || reason !== "wanted" && before.token !== reason.refused.token);
    if (another) {
      tell(before);
      inMemory.set(full, before);
      return before;
    }
    const session = await open.call(kind, content, room(full), reason === "wanted" ? void 0 : before);
    tell(session);
    onOpened(full);
    inMemory.set(full, session);
    if (!openedHere.includes(full)) openedHere.unshift(full);
    await alone(
      path,
      () => storeChange((sessions) => {
        sessions[keyOf(full)] = session;
      })
    );
    return session;
  });
  async function ensure(given, reason = "needed") {
    const found = kindOf(given);
    const { kind, full } = found;
    if (!kind.open) return void 0;
    if (reason === "needed") {
      const before = await known(full);
      if (before && good(before)) return before;
    }
    let work = opening.get(full);
    if (!work) {
      work = openedAlone(found, kind.open, reason);
      opening.set(full, work);
      const done = () => {
        opening.delete(full);
      };
      work.then(done, done);
    }
    return work;
  }
  async function facts(name) {
    const { content, full, kind } = kindOf(name);
    const open = await known(full);
    return {
      name: full,
      kind: content.kind,
      about: content.about,
      opens: kind.open !== void 0,
      open: open !== void 0,
      opened: open?.opened,
      expires: open?.expires,
      renewable: open?.refresh !== void 0,
      claims: open && claimsOf(open.token)
    };
  }
  return {
    opened: openedHere,
    openOf: (name, opens) => opens ? ensure(name) : known(kindOf(name).full),
    opening: (names) => names.flatMap((name) => {
      const { kind, full } = kindOf(name);
      return kind.open ? [full] : [];
    }),
    async attach(names, call) {
      const lines = [];
      const query = [];
      const fulls = [];
      const tokens = [];
      let identity;
      let openedNow = false;
      for (const name of names) {
        const { kind, full, content } = kindOf(name);
        const before = inMemory.get(full) ?? await known(full);
        const session = await ensure(name);
        if (session) {
          tokens.push({ name: full, session });
          openedNow ||= session !== before;
        }
        fulls.push(full);
        for (const line of await kind.lines?.(content, room(full), session, call) ?? []) {
          onSecret(line.value);
          lines.push(line);
        }
        for (const pair of await kind.query?.(content, room(full)) ?? []) {
          onSecret(pair.value);
          query.push(pair);
        }
        identity = await kind.identity?.(content, room(full)) ?? identity;
      }
      return { lines, query, identity, host: call.host, names: fulls, tokens, openedNow };
    },
    async peek(names) {
      const lines = [];
      const query = [];
      const notOpen = [];
      for (const name of names) {
        const { kind, full, content } = kindOf(name);
        const session = kind.open ? await known(full) : void 0;
        if (kind.open && !session) notOpen.push(full);
        lines.push(...await kind.lines?.(content, room(full), session, void 0) ?? []);
        query.push(...await kind.query?.(content, room(full)) ?? []);
      }
      return { lines, query, notOpen };
    },
    heard({ names, lines, host: server }, status, headers) {
      let again = false;
      for (const name of names) {
        const { kind, full } = kindOf(name);
        const proved = lines.some(({ origin }) => origin === `session ${full}`);
        if (status !== 401) kind.answered?.(room(full), server, headers);
        else if (kind.challenged?.(room(full), server, headers, proved)) again = true;
      }
      return again;
    },
    async renew({ tokens, openedNow }) {
      if (openedNow || tokens.length === 0) return false;
      for (const { name, session } of tokens) {
        if (inMemory.get(name) === session) await ensure(name, { refused: session });
      }
      return true;
    },
    async open(name) {
      await ensure(name, "wanted");
      return facts(name);
    },
    async close(name) {
      const { kind, full, content } = kindOf(name);
      const open = await known(full);
      if (!open) return false;
      try {
        await kind.close?.(content, room(full), open);
      } finally {
        inMemory.delete(full);
        onClosed(full);
        const at = openedHere.indexOf(full);
        if (at !== -1) openedHere.splice(at, 1);
        await alone(
          path,
          () => storeChange((sessions) => {
            delete sessions[keyOf(full)];
          })
        );
      }
      return true;
    },
    list: () => Promise.all(collection.names("session").map(facts))
  };
}

// src/core/signature/clocks.ts
import { existsSync as existsSync2, readFileSync as readFileSync2 } from "node:fs";
import { join as join4 } from "node:path";
import * as z from "zod/mini";
var leastDifference = 2e3;
var clocksFile = z.record(z.string(), z.number());
function serverClocks(local) {
  const path = join4(local, "clocks.json");
  const known = new Map(Object.entries(readClocks(path)));
  let changed = false;
  let [lastText, lastDate] = ["", Number.NaN];
  return {
    ahead: (host) => known.get(host) ?? 0,
    heard(host, received, sentAt) {
      const text = headerValue(received.headers, "date") ?? "";
      if (text !== lastText) [lastText, lastDate] = [text, Date.parse(text)];
      const date = lastDate;
      if (Number.isNaN(date)) return;
      const answeredAt = sentAt + received.parts.phases.total - received.parts.phases.receiving;
      const difference = Math.round(date + 500 - (sentAt + answeredAt) / 2);
      const own = Math.abs(difference) < leastDifference ? 0 : difference;
      if (Math.abs(own - (known.get(host) ?? 0)) < leastDifference) return;
      known.set(host, own);
      changed = true;
    },
    async close() {
      if (changed) await writeAtomically(path, `${JSON.stringify(Object.fromEntries(known))}
`);
    }
  };
}
function readClocks(path) {
  if (!existsSync2(path)) return {};
  try {
    return clocksFile.parse(JSON.parse(readFileSync2(path, "utf8")));
  } catch {
    return {};
  }
}

// src/core/trail/session-room.ts
function sessionRoom(workspace, name, person) {
  const { yaml } = workspace.collection.read("session", name);
  return {
    name,
    yaml,
    memory: workspace.sessionMemory,
    person,
    onSecret: workspace.redactor.add,
    // Loaded when a session is opened: most commands find one that is open.
    call: async (request, give, sessions) => (await import("./session-call-5BQXVPMZ.js")).sendForSession(workspace, { name, yaml, request, give, sessions }),
    walk: async (trail, give) => (await import("./session-call-5BQXVPMZ.js")).walkForSession(workspace, { name, yaml, trail, give }),
    fetch: async (call) => (await import("./protocol-call-QAAGQUEF.js")).sendProtocolCall(workspace, name, call),
    identity: (given) => tlsIdentity(given, (named) => pathInside(workspace.collection.root, named)),
    async evaluate(value, path, own) {
      const loads = [];
      const tree = compileTree(value, (inner) => yaml.position([...path, ...inner]), loads);
      await Promise.all(loads);
      const surroundings = { world: workspace.world(), onSecret: workspace.redactor.add };
      const names = layered(namesFrom(own, `session ${name}`), variableNames(workspace.layers, noNames, surroundings));
      const evaluation = new Evaluation(names, surroundings);
      const result = tree.evaluate(evaluation);
      if (evaluation.touchedSecret && result !== omitted) workspace.redactor.add(result);
      return result;
    }
  };
}

// src/core/trail/workspace.ts
async function openWorkspace(given) {
  const { collection, home, processEnvironment, userAgent } = given;
  const settings = given.settings ?? /* @__PURE__ */ new Map();
  const loads = [];
  await openDocumentationLater(collection);
  const environment = readEnvironment(collection, given.environment, loads);
  const layers = variableLayers(settings, environment, collectionVariables(collection, loads));
  const redactor = given.redactor ?? makeRedactor();
  const secrets = secretStore(collection.local, home, processEnvironment);
  const [stored] = await Promise.all([secrets.open(environment.name), ...loads]);
  const used = /* @__PURE__ */ new Map();
  const secret = (name, key) => {
    const full = key === void 0 ? name : `${name}[${key}]`;
    const before = used.get(full);
    if (before !== void 0) return before;
    const value = stored(name, key);
    if (value !== void 0) {
      used.set(full, value);
      redactor.add(value);
    }
    return value;
  };
  const world = worldMaker({
    root: collection.root,
    secret,
    seed: given.seed,
    moment: given.moment,
    render: templateRenderer(collection.root)
  });
  const retryLoads = [];
  const environmentRetry = environment.retry && retryPolicy(environment.retry, environment.yaml, (path) => readText(path), retryLoads);
  await Promise.all(retryLoads);
  let outside;
  const gates = /* @__PURE__ */ new Map();
  const prepared = /* @__PURE__ */ new Map();
  const signers = /* @__PURE__ */ new Map();
  const readText = (path) => echoId.test(path) ? echoText(collection.local, path) : readFileSync3(pathInside(collection.root, path), "utf8");
  let confirming;
  let expected = { calls: 1, rows: false };
  const workspace = {
    collection,
    environment,
    layers,
    settings,
    secrets,
    redactor,
    userAgent,
    world,
    readText,
    transport: openTransport(),
    log: openEchoLog(collection.local, /* @__PURE__ */ new Date()),
    timeout: timeoutOf(environment.timeout),
    connection: connectionPlan(
      environment.connection,
      (named) => pathInside(collection.root, named),
      processEnvironment,
      given.connection
    ),
    gate(host) {
      let gate = gates.get(host);
      if (!gate) {
        gate = new HostGate({ atOnce: environment.pace?.["at-once"], perSecond: environment.pace?.["per-second"] });
        gates.set(host, gate);
      }
      return gate;
    },
    retry: environment.retry === void 0 ? given.retry : environmentRetry,
    dryRun: given.dryRun === true,
    choose: given.choose,
    accept: given.accept,
    standardInput: given.standardInput,
    get outsideNames() {
      outside ??= new Set(
        namesUsed({
          ...collection.read("environment", environment.name).content,
          collection: collection.manifest.content.variables ?? {}
        }).map(({ name }) => name)
      );
      return outside;
    },
    patience: { refused: 0, triedAgain: 0, waited: 0 },
    pins: certificatePins(collection.local),
    clocks: serverClocks(collection.local),
    moment: given.moment,
    cookies: cookieJars(collection.local, home, environment.name, redactor.add),
    hosts: credentialHosts(environment.name, environment.hosts, constantOrigin(layers, world, redactor)),
    sessionMemory: /* @__PURE__ */ new Map(),
    sessions: openSessions({
      collection,
      environment: environment.name,
      host: hostIn(constantOrigin(layers, world, redactor)),
      home,
      onSecret: redactor.add,
      onOpened: (name) => workspace.onSessionOpened?.(name),
      onClosed: (name) => workspace.cookies.forget(name),
      room: (name) => workspace.sessionRoom(name)
    }),
    sessionRoom: (name) => sessionRoom(workspace, name, given.person),
    prepare(request) {
      const name = collection.resolve("request", request);
      let ready = prepared.get(name);
      if (!ready) {
        ready = prepareRequest(collection, name, readText, workspace.signer);
        prepared.set(name, ready);
      }
      return ready;
    },
    async signer(signature) {
      const name = collection.resolve("signature", signature);
      let ready = signers.get(name);
      if (!ready) {
        ready = prepareSigner(collection, name);
        signers.set(name, ready);
      }
      return ready;
    },
    async demandChange(facts) {
      const { name, changes, file } = environment;
      if (changes === "allow" || changes === "ask" && given.allowChanges) return;
      const call = `${facts.method} ${redactor.hide(facts.url)}`;
      if (changes === "refuse") {
        throw new Problem("change-refused", {
          what: `the environment ${name} refuses calls that change something: ${call}`,
          where: { file },
          remedy: "use another environment; for a call that changes nothing, write changes: false in its request file"
        });
      }
      confirming ??= given.confirmChange?.({ environment: name, ...expected, ...facts });
      if (await confirming) return;
      confirming = void 0;
      throw new Problem("change-unconfirmed", {
        what: `the environment ${name} asks before a change, and nobody said yes: ${call}`,
        where: { file },
        remedy: "--allow-changes says yes for one command; changes: allow in the environment says it for good"
      });
    },
    expectChanges(given2) {
      expected = given2;
    },
    checkSettings(inputs) {
      const known = /* @__PURE__ */ new Set([...inputs, ...layers.layers.flatMap(({ variables }) => [...variables.keys()])]);
      for (const name of settings.keys()) {
        if (known.has(name)) continue;
        throw new Problem("usage", {
          what: `--set ${name}: nothing here takes that name`,
          remedy: nearestHint(name, known),
          data: { name }
        });
      }
    },
    async close() {
      await workspace.transport.close();
      await workspace.cookies.close();
      await workspace.clocks.close();
      await workspace.log.close();
      const { runs = 200, size = "256MB" } = collection.manifest.content.echoes ?? {};
      await retain(collection.local, { runs, size: parseSize(size) ?? 256e6 });
      await retainJournals(collection.local, { runs });
    }
  };
  return workspace;
}
var echoId = /^[a-z0-9]{4}\.\d+$/;
function constantOrigin(layers, world, redactor) {
  try {
    const found = variableNames(layers, noNames, { world: world(), onSecret: redactor.add }).lookup("origin");
    return found === void 0 ? void 0 : textOf(found.value);
  } catch {
    return void 0;
  }
}
var hostIn = (origin) => origin !== void 0 && URL.canParse(origin) ? new URL(origin).host : "";

export {
  openWorkspace
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvd29ya3NwYWNlLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2VjaG8vbG9nLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL2V4Y2hhbmdlL3RlbXBsYXRlcy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9zZXNzaW9uL2Nvb2tpZS1qYXIudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvc2Vzc2lvbi9zZXNzaW9ucy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS9zdG9yYWdlL2Fsb25lLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3NpZ25hdHVyZS9jbG9ja3MudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvc2Vzc2lvbi1yb29tLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogRXZlcnl0aGluZyB0aGF0IHNlbmRpbmcgbmVlZHMsIG9wZW5lZCBvbmNlIGZvciBhIGNvbW1hbmQ6IGNvbGxlY3Rpb24sIGVudmlyb25tZW50LCB0cmFuc3BvcnQsIHNlc3Npb25zLCBsb2cuICovXG5pbXBvcnQgeyByZWFkRmlsZVN5bmMgfSBmcm9tICdub2RlOmZzJztcbmltcG9ydCB0eXBlIHsgUmVhZGFibGUgfSBmcm9tICdub2RlOnN0cmVhbSc7XG5pbXBvcnQgdHlwZSB7IENvbGxlY3Rpb24gfSBmcm9tICcuLi9jb2xsZWN0aW9uL2NvbGxlY3Rpb24uanMnO1xuaW1wb3J0IHtcbiAgY29sbGVjdGlvblZhcmlhYmxlcyxcbiAgdHlwZSBFbnZpcm9ubWVudCxcbiAgdHlwZSBMYXllcnMsXG4gIHJlYWRFbnZpcm9ubWVudCxcbiAgdHlwZSBTZXR0aW5ncyxcbiAgdmFyaWFibGVMYXllcnMsXG4gIHZhcmlhYmxlTmFtZXMsXG59IGZyb20gJy4uL2NvbGxlY3Rpb24vbGF5ZXJzLmpzJztcbmltcG9ydCB7IG9wZW5Eb2N1bWVudGF0aW9uTGF0ZXIgfSBmcm9tICcuLi9jb2xsZWN0aW9uL3NvdXJjZS1pbmRleC5qcyc7XG5pbXBvcnQgeyB0eXBlIEVjaG9Mb2csIG9wZW5FY2hvTG9nIH0gZnJvbSAnLi4vZWNoby9sb2cuanMnO1xuaW1wb3J0IHsgZWNob1RleHQsIHJldGFpbiB9IGZyb20gJy4uL2VjaG8vcmVhZC5qcyc7XG5pbXBvcnQgeyBtYWtlUmVkYWN0b3IsIHR5cGUgUmVkYWN0b3IgfSBmcm9tICcuLi9lY2hvL3JlZGFjdG9yLmpzJztcbmltcG9ydCB7IHR5cGUgQ29ubmVjdGlvblBsYW4sIHR5cGUgQ29ubmVjdGlvblNldHRpbmdzLCBjb25uZWN0aW9uUGxhbiB9IGZyb20gJy4uL2V4Y2hhbmdlL2Nvbm5lY3Rpb24uanMnO1xuaW1wb3J0IHsgdHlwZSBDcmVkZW50aWFsSG9zdHMsIGNyZWRlbnRpYWxIb3N0cyB9IGZyb20gJy4uL2V4Y2hhbmdlL2NyZWRlbnRpYWwtaG9zdHMuanMnO1xuaW1wb3J0IHsgY2VydGlmaWNhdGVQaW5zLCB0eXBlIFBpbnMgfSBmcm9tICcuLi9leGNoYW5nZS9waW5zLmpzJztcbmltcG9ydCB7IHRpbWVvdXRPZiB9IGZyb20gJy4uL2V4Y2hhbmdlL3JlcXVlc3QtcGxhbi5qcyc7XG5pbXBvcnQgeyB0ZW1wbGF0ZVJlbmRlcmVyIH0gZnJvbSAnLi4vZXhjaGFuZ2UvdGVtcGxhdGVzLmpzJztcbmltcG9ydCB7IG9wZW5UcmFuc3BvcnQsIHR5cGUgVHJhbnNwb3J0IH0gZnJvbSAnLi4vZXhjaGFuZ2UvdHJhbnNwb3J0LmpzJztcbmltcG9ydCB0eXBlIHsgVGltZW91dCB9IGZyb20gJy4uL2V4Y2hhbmdlL3dpcmUuanMnO1xuaW1wb3J0IHR5cGUgeyBMb2FkcyB9IGZyb20gJy4uL2V4cHJlc3Npb24vY29tcGlsZS5qcyc7XG5pbXBvcnQgeyBub05hbWVzIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi9uYW1lcy5qcyc7XG5pbXBvcnQgeyBuYW1lc1VzZWQgfSBmcm9tICcuLi9leHByZXNzaW9uL25hbWVzLXVzZWQuanMnO1xuaW1wb3J0IHsgdHlwZSBNb21lbnQsIHR5cGUgV29ybGQsIHdvcmxkTWFrZXIgfSBmcm9tICcuLi9leHByZXNzaW9uL3dvcmxkLmpzJztcbmltcG9ydCB0eXBlIHsgQWNjZXB0ZWQgfSBmcm9tICcuLi9tYXRjaGVyL21hdGNoZXIuanMnO1xuaW1wb3J0IHsgbmVhcmVzdEhpbnQgfSBmcm9tICcuLi9wcm9ibGVtL25lYXJlc3QuanMnO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyB0eXBlIENvb2tpZUphcnMsIGNvb2tpZUphcnMgfSBmcm9tICcuLi9zZXNzaW9uL2Nvb2tpZS1qYXIuanMnO1xuaW1wb3J0IHsgdHlwZSBTZWNyZXRTdG9yZSwgc2VjcmV0U3RvcmUgfSBmcm9tICcuLi9zZXNzaW9uL3NlY3JldHMuanMnO1xuaW1wb3J0IHR5cGUgeyBQZXJzb24sIFNlc3Npb25Sb29tIH0gZnJvbSAnLi4vc2Vzc2lvbi9zZXNzaW9uLWtpbmQuanMnO1xuaW1wb3J0IHsgb3BlblNlc3Npb25zLCB0eXBlIFNlc3Npb25zIH0gZnJvbSAnLi4vc2Vzc2lvbi9zZXNzaW9ucy5qcyc7XG5pbXBvcnQgeyB0eXBlIENsb2Nrcywgc2VydmVyQ2xvY2tzIH0gZnJvbSAnLi4vc2lnbmF0dXJlL2Nsb2Nrcy5qcyc7XG5pbXBvcnQgdHlwZSB7IFNpZ25lciB9IGZyb20gJy4uL3NpZ25hdHVyZS9zaWduYXR1cmUta2luZC5qcyc7XG5pbXBvcnQgeyBwYXRoSW5zaWRlIH0gZnJvbSAnLi4vc3RvcmFnZS9pbnNpZGUuanMnO1xuaW1wb3J0IHsgcGFyc2VTaXplIH0gZnJvbSAnLi4vdmFsdWUvbWVhc3VyZXMuanMnO1xuaW1wb3J0IHsgdGV4dE9mIH0gZnJvbSAnLi4vdmFsdWUvdGV4dC5qcyc7XG5pbXBvcnQgdHlwZSB7IFZhbHVlIH0gZnJvbSAnLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyByZXRhaW5Kb3VybmFscyB9IGZyb20gJy4vam91cm5hbC9yZXRhaW4uanMnO1xuaW1wb3J0IHsgSG9zdEdhdGUgfSBmcm9tICcuL3BhY2luZy9ob3N0LWdhdGUuanMnO1xuaW1wb3J0IHsgdHlwZSBSZXRyeVBvbGljeSwgcmV0cnlQb2xpY3kgfSBmcm9tICcuL3BhY2luZy9yZXRyeS1wb2xpY3kuanMnO1xuaW1wb3J0IHR5cGUgeyBQYXRpZW5jZSwgV2FpdCB9IGZyb20gJy4vcGFjaW5nL3RyaWVzLmpzJztcbmltcG9ydCB7IHR5cGUgUHJlcGFyZWRSZXF1ZXN0LCBwcmVwYXJlUmVxdWVzdCwgcHJlcGFyZVNpZ25lciB9IGZyb20gJy4vcHJlcGFyZS5qcyc7XG5pbXBvcnQgeyBzZXNzaW9uUm9vbSB9IGZyb20gJy4vc2Vzc2lvbi1yb29tLmpzJztcblxuLyoqIEEgY2FsbCB0aGF0IHdvdWxkIGNoYW5nZSBzb21ldGhpbmcsIGZvciB0aGUgcXVlc3Rpb24gd2hldGhlciBpdCBtYXkuICovXG5leHBvcnQgaW50ZXJmYWNlIENoYW5nZUZhY3RzIHtcbiAgcmVhZG9ubHkgZW52aXJvbm1lbnQ6IHN0cmluZztcbiAgcmVhZG9ubHkgaG9zdDogc3RyaW5nO1xuICByZWFkb25seSBtZXRob2Q6IHN0cmluZztcbiAgcmVhZG9ubHkgdXJsOiBzdHJpbmc7XG4gIC8qKiBIb3cgbWFueSBjYWxscyB0aGF0IGNoYW5nZSBzb21ldGhpbmcgdGhlIGNvbW1hbmQgaGFzIGJlZm9yZSBpdCwgdGhpcyBvbmUgaW5jbHVkZWQ7IG9mIGVhY2ggcm93LCB3aGVyZSBpdCBoYXMgcm93cy4gKi9cbiAgcmVhZG9ubHkgY2FsbHM6IG51bWJlcjtcbiAgcmVhZG9ubHkgcm93czogYm9vbGVhbjtcbn1cblxuZXhwb3J0IGludGVyZmFjZSBXb3Jrc3BhY2VTZXR0aW5ncyB7XG4gIHJlYWRvbmx5IGNvbGxlY3Rpb246IENvbGxlY3Rpb247XG4gIHJlYWRvbmx5IGVudmlyb25tZW50Pzogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICAvKiogRnJvbSBgLS1zZXRgLiAqL1xuICByZWFkb25seSBzZXR0aW5ncz86IFNldHRpbmdzIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSBzZWVkPzogbnVtYmVyIHwgdW5kZWZpbmVkO1xuICAvKiogSW4gcGxhY2Ugb2YgdGhlIHByZXNlbnQsIGZvciBhIHNpZ25hdHVyZSB0aGF0IGlzIHRvIGJlIHJlcHJvZHVjZWQuICovXG4gIHJlYWRvbmx5IG1vbWVudD86IE1vbWVudCB8IHVuZGVmaW5lZDtcbiAgLyoqIFRoZSB1c2VyJ3Mgb3duIEVjaG8gVHJhaWwgZm9sZGVyLCB3aGVyZSB0aGUga2V5IG9mIHNlYWxlZCBmaWxlcyBpcyBrZXB0LiAqL1xuICByZWFkb25seSBob21lOiBzdHJpbmc7XG4gIHJlYWRvbmx5IHByb2Nlc3NFbnZpcm9ubWVudDogUmVhZG9ubHk8UmVjb3JkPHN0cmluZywgc3RyaW5nIHwgdW5kZWZpbmVkPj47XG4gIHJlYWRvbmx5IHVzZXJBZ2VudDogc3RyaW5nO1xuICByZWFkb25seSBhbGxvd0NoYW5nZXM/OiBib29sZWFuIHwgdW5kZWZpbmVkO1xuICAvKiogV2hlbiBhIHJlcXVlc3QgaXMgc2VudCBhZ2FpbiB3aGVyZSBuZWl0aGVyIGl0cyBmaWxlIG5vciB0aGUgZW52aXJvbm1lbnQgc2F5cyBzby4gKi9cbiAgcmVhZG9ubHkgcmV0cnk/OiBSZXRyeVBvbGljeSB8IHVuZGVmaW5lZDtcbiAgLyoqIEluIHBsYWNlIG9mIHdoYXQgdGhlIGVudmlyb25tZW50IHNheXMgb2YgY29ubmVjdGlvbnMuICovXG4gIHJlYWRvbmx5IGNvbm5lY3Rpb24/OiBDb25uZWN0aW9uU2V0dGluZ3MgfCB1bmRlZmluZWQ7XG4gIC8qKiBXaG8gY2FuIGFncmVlIHRvIGEgc2Vzc2lvbjsgdW5kZWZpbmVkIHdoZXJlIG5vYm9keSBpcyB0aGVyZS4gKi9cbiAgcmVhZG9ubHkgcGVyc29uPzogUGVyc29uIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSBjaG9vc2U/OiBXb3Jrc3BhY2VbJ2Nob29zZSddO1xuICByZWFkb25seSBhY2NlcHQ/OiBXb3Jrc3BhY2VbJ2FjY2VwdCddO1xuICAvKiogRXZlcnl0aGluZyBidXQgdGhlIHNlbmRpbmcuICovXG4gIHJlYWRvbmx5IGRyeVJ1bj86IGJvb2xlYW4gfCB1bmRlZmluZWQ7XG4gIC8qKiBPbmUgdGhhdCBrbm93cyBzZWNyZXRzIGFscmVhZHkuICovXG4gIHJlYWRvbmx5IHJlZGFjdG9yPzogUmVkYWN0b3IgfCB1bmRlZmluZWQ7XG4gIHJlYWRvbmx5IHN0YW5kYXJkSW5wdXQ/OiBXb3Jrc3BhY2VbJ3N0YW5kYXJkSW5wdXQnXTtcbiAgLyoqIEFza3MgYSBwZXJzb247IHVuZGVmaW5lZCB3aGVyZSBub2JvZHkgaXMgdGhlcmUuICovXG4gIHJlYWRvbmx5IGNvbmZpcm1DaGFuZ2U/OiAoKGZhY3RzOiBDaGFuZ2VGYWN0cykgPT4gUHJvbWlzZTxib29sZWFuPikgfCB1bmRlZmluZWQ7XG59XG5cbmV4cG9ydCBpbnRlcmZhY2UgV29ya3NwYWNlIHtcbiAgcmVhZG9ubHkgY29sbGVjdGlvbjogQ29sbGVjdGlvbjtcbiAgcmVhZG9ubHkgZW52aXJvbm1lbnQ6IEVudmlyb25tZW50O1xuICByZWFkb25seSBsYXllcnM6IExheWVycztcbiAgcmVhZG9ubHkgc2V0dGluZ3M6IFNldHRpbmdzO1xuICByZWFkb25seSB0cmFuc3BvcnQ6IFRyYW5zcG9ydDtcbiAgcmVhZG9ubHkgc2Vzc2lvbnM6IFNlc3Npb25zO1xuICAvKiogV2hhdCBraW5kcyBvZiBzZXNzaW9ucyByZW1lbWJlciB3aGlsZSB0aGUgcHJvZ3JhbSBydW5zLiAqL1xuICByZWFkb25seSBzZXNzaW9uTWVtb3J5OiBNYXA8c3RyaW5nLCB1bmtub3duPjtcbiAgLyoqIFdoYXQgYSBzZXNzaW9uIGZpbGUgaGFzIHRvIGRvIHdpdGguICovXG4gIHNlc3Npb25Sb29tKG5hbWU6IHN0cmluZyk6IFNlc3Npb25Sb29tO1xuICByZWFkb25seSBzZWNyZXRzOiBTZWNyZXRTdG9yZTtcbiAgcmVhZG9ubHkgcmVkYWN0b3I6IFJlZGFjdG9yO1xuICByZWFkb25seSBsb2c6IEVjaG9Mb2c7XG4gIHJlYWRvbmx5IGhvc3RzOiBDcmVkZW50aWFsSG9zdHM7XG4gIHJlYWRvbmx5IHRpbWVvdXQ6IFBhcnRpYWw8VGltZW91dD47XG4gIHJlYWRvbmx5IGNvbm5lY3Rpb246IENvbm5lY3Rpb25QbGFuO1xuICByZWFkb25seSBjb29raWVzOiBDb29raWVKYXJzO1xuICByZWFkb25seSBwaW5zOiBQaW5zO1xuICByZWFkb25seSBjbG9ja3M6IENsb2NrcztcbiAgcmVhZG9ubHkgbW9tZW50OiBNb21lbnQgfCB1bmRlZmluZWQ7XG4gIHJlYWRvbmx5IHVzZXJBZ2VudDogc3RyaW5nO1xuICAvKiogVG9sZCBvZiBlYWNoIHNlc3Npb24gdGhhdCBpcyBvcGVuZWQgb24gdGhlIHdheTsgYSB3YWxrIHNldHMgaXQuICovXG4gIG9uU2Vzc2lvbk9wZW5lZD86ICgobmFtZTogc3RyaW5nKSA9PiB2b2lkKSB8IHVuZGVmaW5lZDtcbiAgLyoqIFRoZSBnYXRlIG9mIGEgaG9zdCwgdGhyb3VnaCB3aGljaCBhbGwgdGhhdCBpcyBzZW50IHRvIGl0IGdvZXMuICovXG4gIGdhdGUoaG9zdDogc3RyaW5nKTogSG9zdEdhdGU7XG4gIC8qKiBXaGVuIGEgcmVxdWVzdCB3aG9zZSBmaWxlIHNheXMgbm90aGluZyBpcyBzZW50IGFnYWluLiAqL1xuICByZXRyeTogUmV0cnlQb2xpY3kgfCB1bmRlZmluZWQ7XG4gIHJlYWRvbmx5IHBhdGllbmNlOiBQYXRpZW5jZTtcbiAgLyoqIFRvbGQgd2hlbiBhIGhvc3QgYXNrcyBmb3IgcGF0aWVuY2U7IGEgd2FsayBzZXRzIGl0LiAqL1xuICBvbldhaXQ/OiAoKHdhaXQ6IFdhaXQpID0+IHZvaWQpIHwgdW5kZWZpbmVkO1xuICAvKiogRXZlcnl0aGluZyBidXQgdGhlIHNlbmRpbmcuICovXG4gIHJlYWRvbmx5IGRyeVJ1bjogYm9vbGVhbjtcbiAgLyoqIExldHMgYSBwZXJzb24gcGljayBvbmUgb2Ygc2V2ZXJhbDsgdW5kZWZpbmVkIHdoZXJlIG5vYm9keSBpcyB0aGVyZS4gKi9cbiAgcmVhZG9ubHkgY2hvb3NlOiAoKHF1ZXN0aW9uOiBzdHJpbmcsIGxhYmVsczogcmVhZG9ubHkgc3RyaW5nW10pID0+IFByb21pc2U8bnVtYmVyPikgfCB1bmRlZmluZWQ7XG4gIC8qKiBUYWtlcyB3aGF0IGlzIGZvdW5kIGFzIHRoZSBuZXcgYmFzZWxpbmUuICovXG4gIHJlYWRvbmx5IGFjY2VwdDogKChhY2NlcHRlZDogQWNjZXB0ZWQpID0+IHZvaWQpIHwgdW5kZWZpbmVkO1xuICAvKiogTmFtZXMgdGhhdCB0aGUgZW52aXJvbm1lbnQgYW5kIHRoZSBjb2xsZWN0aW9uJ3MgdmFyaWFibGVzIG1heSB0YWtlIGZyb20gd2hvZXZlciBzZW5kcy4gKi9cbiAgcmVhZG9ubHkgb3V0c2lkZU5hbWVzOiBSZWFkb25seVNldDxzdHJpbmc+O1xuICAvKiogV2hlcmUgcm93cyBjb21lIGZyb20gdGhhdCBhcmUgcmVhZCBmcm9tIHN0YW5kYXJkIGlucHV0LiAqL1xuICByZWFkb25seSBzdGFuZGFyZElucHV0OiAoKCkgPT4gUmVhZGFibGUpIHwgdW5kZWZpbmVkO1xuICB3b3JsZCgpOiBXb3JsZDtcbiAgcmVhZFRleHQocGF0aDogc3RyaW5nKTogc3RyaW5nO1xuICBwcmVwYXJlKHJlcXVlc3Q6IHN0cmluZyk6IFByb21pc2U8UHJlcGFyZWRSZXF1ZXN0PjtcbiAgLyoqIEB0aHJvd3MgUHJvYmxlbSBuYW1lLW5vdC1mb3VuZCwgYW5kIGFib3V0IGFueXRoaW5nIGluIHRoZSBzaWduYXR1cmUgZmlsZSAqL1xuICBzaWduZXIoc2lnbmF0dXJlOiBzdHJpbmcpOiBQcm9taXNlPFNpZ25lcj47XG4gIC8qKiBAdGhyb3dzIFByb2JsZW0gY2hhbmdlLXJlZnVzZWQsIGNoYW5nZS11bmNvbmZpcm1lZCAqL1xuICBkZW1hbmRDaGFuZ2UoZmFjdHM6IE9taXQ8Q2hhbmdlRmFjdHMsICdlbnZpcm9ubWVudCcgfCAnY2FsbHMnIHwgJ3Jvd3MnPik6IFByb21pc2U8dm9pZD47XG4gIC8qKiBXaGF0IGlzIHRvIGNvbWUsIGZvciB0aGUgcXVlc3Rpb24gd2hldGhlciBpdCBtYXkuICovXG4gIGV4cGVjdENoYW5nZXMoZXhwZWN0ZWQ6IFBpY2s8Q2hhbmdlRmFjdHMsICdjYWxscycgfCAncm93cyc+KTogdm9pZDtcbiAgLyoqIEB0aHJvd3MgUHJvYmxlbSB1c2FnZTogYSBuYW1lIG9mIGAtLXNldGAgdGhhdCBuZWl0aGVyIHRoZXNlIGlucHV0cyBub3IgYW55IHZhcmlhYmxlIGtub3dzICovXG4gIGNoZWNrU2V0dGluZ3MoaW5wdXRzOiBJdGVyYWJsZTxzdHJpbmc+KTogdm9pZDtcbiAgY2xvc2UoKTogUHJvbWlzZTx2b2lkPjtcbn1cblxuLyoqIEB0aHJvd3MgUHJvYmxlbSBhYm91dCB0aGUgY29sbGVjdGlvbidzIHZhcmlhYmxlcyBvciB0aGUgZW52aXJvbm1lbnQgKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiBvcGVuV29ya3NwYWNlKGdpdmVuOiBXb3Jrc3BhY2VTZXR0aW5ncyk6IFByb21pc2U8V29ya3NwYWNlPiB7XG4gIGNvbnN0IHsgY29sbGVjdGlvbiwgaG9tZSwgcHJvY2Vzc0Vudmlyb25tZW50LCB1c2VyQWdlbnQgfSA9IGdpdmVuO1xuICBjb25zdCBzZXR0aW5nczogU2V0dGluZ3MgPSBnaXZlbi5zZXR0aW5ncyA/PyBuZXcgTWFwKCk7XG4gIGNvbnN0IGxvYWRzOiBMb2FkcyA9IFtdO1xuICBhd2FpdCBvcGVuRG9jdW1lbnRhdGlvbkxhdGVyKGNvbGxlY3Rpb24pO1xuICBjb25zdCBlbnZpcm9ubWVudCA9IHJlYWRFbnZpcm9ubWVudChjb2xsZWN0aW9uLCBnaXZlbi5lbnZpcm9ubWVudCwgbG9hZHMpO1xuICBjb25zdCBsYXllcnMgPSB2YXJpYWJsZUxheWVycyhzZXR0aW5ncywgZW52aXJvbm1lbnQsIGNvbGxlY3Rpb25WYXJpYWJsZXMoY29sbGVjdGlvbiwgbG9hZHMpKTtcbiAgY29uc3QgcmVkYWN0b3IgPSBnaXZlbi5yZWRhY3RvciA/PyBtYWtlUmVkYWN0b3IoKTtcbiAgY29uc3Qgc2VjcmV0cyA9IHNlY3JldFN0b3JlKGNvbGxlY3Rpb24ubG9jYWwsIGhvbWUsIHByb2Nlc3NFbnZpcm9ubWVudCk7XG4gIGNvbnN0IFtzdG9yZWRdID0gYXdhaXQgUHJvbWlzZS5hbGwoW3NlY3JldHMub3BlbihlbnZpcm9ubWVudC5uYW1lKSwgLi4ubG9hZHNdKTtcbiAgY29uc3QgdXNlZCA9IG5ldyBNYXA8c3RyaW5nLCBzdHJpbmc+KCk7XG4gIGNvbnN0IHNlY3JldDogdHlwZW9mIHN0b3JlZCA9IChuYW1lLCBrZXkpID0+IHtcbiAgICBjb25zdCBmdWxsID0ga2V5ID09PSB1bmRlZmluZWQgPyBuYW1lIDogYCR7bmFtZX1bJHtrZXl9XWA7XG4gICAgY29uc3QgYmVmb3JlID0gdXNlZC5nZXQoZnVsbCk7XG4gICAgaWYgKGJlZm9yZSAhPT0gdW5kZWZpbmVkKSByZXR1cm4gYmVmb3JlO1xuICAgIGNvbnN0IHZhbHVlID0gc3RvcmVkKG5hbWUsIGtleSk7XG4gICAgaWYgKHZhbHVlICE9PSB1bmRlZmluZWQpIHtcbiAgICAgIHVzZWQuc2V0KGZ1bGwsIHZhbHVlKTtcbiAgICAgIHJlZGFjdG9yLmFkZCh2YWx1ZSk7XG4gICAgfVxuICAgIHJldHVybiB2YWx1ZTtcbiAgfTtcbiAgY29uc3Qgd29ybGQgPSB3b3JsZE1ha2VyKHtcbiAgICByb290OiBjb2xsZWN0aW9uLnJvb3QsXG4gICAgc2VjcmV0LFxuICAgIHNlZWQ6IGdpdmVuLnNlZWQsXG4gICAgbW9tZW50OiBnaXZlbi5tb21lbnQsXG4gICAgcmVuZGVyOiB0ZW1wbGF0ZVJlbmRlcmVyKGNvbGxlY3Rpb24ucm9vdCksXG4gIH0pO1xuICBjb25zdCByZXRyeUxvYWRzOiBMb2FkcyA9IFtdO1xuICBjb25zdCBlbnZpcm9ubWVudFJldHJ5ID1cbiAgICBlbnZpcm9ubWVudC5yZXRyeSAmJiByZXRyeVBvbGljeShlbnZpcm9ubWVudC5yZXRyeSwgZW52aXJvbm1lbnQueWFtbCwgKHBhdGgpID0+IHJlYWRUZXh0KHBhdGgpLCByZXRyeUxvYWRzKTtcbiAgYXdhaXQgUHJvbWlzZS5hbGwocmV0cnlMb2Fkcyk7XG4gIGxldCBvdXRzaWRlOiBTZXQ8c3RyaW5nPiB8IHVuZGVmaW5lZDtcbiAgY29uc3QgZ2F0ZXMgPSBuZXcgTWFwPHN0cmluZywgSG9zdEdhdGU+KCk7XG4gIGNvbnN0IHByZXBhcmVkID0gbmV3IE1hcDxzdHJpbmcsIFByb21pc2U8UHJlcGFyZWRSZXF1ZXN0Pj4oKTtcbiAgY29uc3Qgc2lnbmVycyA9IG5ldyBNYXA8c3RyaW5nLCBQcm9taXNlPFNpZ25lcj4+KCk7XG4gIGNvbnN0IHJlYWRUZXh0ID0gKHBhdGg6IHN0cmluZyk6IHN0cmluZyA9PlxuICAgIGVjaG9JZC50ZXN0KHBhdGgpID8gZWNob1RleHQoY29sbGVjdGlvbi5sb2NhbCwgcGF0aCkgOiByZWFkRmlsZVN5bmMocGF0aEluc2lkZShjb2xsZWN0aW9uLnJvb3QsIHBhdGgpLCAndXRmOCcpO1xuICBsZXQgY29uZmlybWluZzogUHJvbWlzZTxib29sZWFuPiB8IHVuZGVmaW5lZDtcbiAgbGV0IGV4cGVjdGVkOiBQaWNrPENoYW5nZUZhY3RzLCAnY2FsbHMnIHwgJ3Jvd3MnPiA9IHsgY2FsbHM6IDEsIHJvd3M6IGZhbHNlIH07XG5cbiAgY29uc3Qgd29ya3NwYWNlOiBXb3Jrc3BhY2UgPSB7XG4gICAgY29sbGVjdGlvbixcbiAgICBlbnZpcm9ubWVudCxcbiAgICBsYXllcnMsXG4gICAgc2V0dGluZ3MsXG4gICAgc2VjcmV0cyxcbiAgICByZWRhY3RvcixcbiAgICB1c2VyQWdlbnQsXG4gICAgd29ybGQsXG4gICAgcmVhZFRleHQsXG4gICAgdHJhbnNwb3J0OiBvcGVuVHJhbnNwb3J0KCksXG4gICAgbG9nOiBvcGVuRWNob0xvZyhjb2xsZWN0aW9uLmxvY2FsLCBuZXcgRGF0ZSgpKSxcbiAgICB0aW1lb3V0OiB0aW1lb3V0T2YoZW52aXJvbm1lbnQudGltZW91dCksXG4gICAgY29ubmVjdGlvbjogY29ubmVjdGlvblBsYW4oXG4gICAgICBlbnZpcm9ubWVudC5jb25uZWN0aW9uLFxuICAgICAgKG5hbWVkKSA9PiBwYXRoSW5zaWRlKGNvbGxlY3Rpb24ucm9vdCwgbmFtZWQpLFxuICAgICAgcHJvY2Vzc0Vudmlyb25tZW50LFxuICAgICAgZ2l2ZW4uY29ubmVjdGlvbixcbiAgICApLFxuICAgIGdhdGUoaG9zdCkge1xuICAgICAgbGV0IGdhdGUgPSBnYXRlcy5nZXQoaG9zdCk7XG4gICAgICBpZiAoIWdhdGUpIHtcbiAgICAgICAgZ2F0ZSA9IG5ldyBIb3N0R2F0ZSh7IGF0T25jZTogZW52aXJvbm1lbnQucGFjZT8uWydhdC1vbmNlJ10sIHBlclNlY29uZDogZW52aXJvbm1lbnQucGFjZT8uWydwZXItc2Vjb25kJ10gfSk7XG4gICAgICAgIGdhdGVzLnNldChob3N0LCBnYXRlKTtcbiAgICAgIH1cbiAgICAgIHJldHVybiBnYXRlO1xuICAgIH0sXG4gICAgcmV0cnk6IGVudmlyb25tZW50LnJldHJ5ID09PSB1bmRlZmluZWQgPyBnaXZlbi5yZXRyeSA6IGVudmlyb25tZW50UmV0cnksXG4gICAgZHJ5UnVuOiBnaXZlbi5kcnlSdW4gPT09IHRydWUsXG4gICAgY2hvb3NlOiBnaXZlbi5jaG9vc2UsXG4gICAgYWNjZXB0OiBnaXZlbi5hY2NlcHQsXG4gICAgc3RhbmRhcmRJbnB1dDogZ2l2ZW4uc3RhbmRhcmRJbnB1dCxcbiAgICBnZXQgb3V0c2lkZU5hbWVzKCkge1xuICAgICAgb3V0c2lkZSA/Pz0gbmV3IFNldChcbiAgICAgICAgbmFtZXNVc2VkKHtcbiAgICAgICAgICAuLi5jb2xsZWN0aW9uLnJlYWQoJ2Vudmlyb25tZW50JywgZW52aXJvbm1lbnQubmFtZSkuY29udGVudCxcbiAgICAgICAgICBjb2xsZWN0aW9uOiBjb2xsZWN0aW9uLm1hbmlmZXN0LmNvbnRlbnQudmFyaWFibGVzID8/IHt9LFxuICAgICAgICB9IGFzIHVua25vd24gYXMgVmFsdWUpLm1hcCgoeyBuYW1lIH0pID0+IG5hbWUpLFxuICAgICAgKTtcbiAgICAgIHJldHVybiBvdXRzaWRlO1xuICAgIH0sXG4gICAgcGF0aWVuY2U6IHsgcmVmdXNlZDogMCwgdHJpZWRBZ2FpbjogMCwgd2FpdGVkOiAwIH0sXG4gICAgcGluczogY2VydGlmaWNhdGVQaW5zKGNvbGxlY3Rpb24ubG9jYWwpLFxuICAgIGNsb2Nrczogc2VydmVyQ2xvY2tzKGNvbGxlY3Rpb24ubG9jYWwpLFxuICAgIG1vbWVudDogZ2l2ZW4ubW9tZW50LFxuICAgIGNvb2tpZXM6IGNvb2tpZUphcnMoY29sbGVjdGlvbi5sb2NhbCwgaG9tZSwgZW52aXJvbm1lbnQubmFtZSwgcmVkYWN0b3IuYWRkKSxcbiAgICBob3N0czogY3JlZGVudGlhbEhvc3RzKGVudmlyb25tZW50Lm5hbWUsIGVudmlyb25tZW50Lmhvc3RzLCBjb25zdGFudE9yaWdpbihsYXllcnMsIHdvcmxkLCByZWRhY3RvcikpLFxuICAgIHNlc3Npb25NZW1vcnk6IG5ldyBNYXAoKSxcbiAgICBzZXNzaW9uczogb3BlblNlc3Npb25zKHtcbiAgICAgIGNvbGxlY3Rpb24sXG4gICAgICBlbnZpcm9ubWVudDogZW52aXJvbm1lbnQubmFtZSxcbiAgICAgIGhvc3Q6IGhvc3RJbihjb25zdGFudE9yaWdpbihsYXllcnMsIHdvcmxkLCByZWRhY3RvcikpLFxuICAgICAgaG9tZSxcbiAgICAgIG9uU2VjcmV0OiByZWRhY3Rvci5hZGQsXG4gICAgICBvbk9wZW5lZDogKG5hbWUpID0+IHdvcmtzcGFjZS5vblNlc3Npb25PcGVuZWQ/LihuYW1lKSxcbiAgICAgIG9uQ2xvc2VkOiAobmFtZSkgPT4gd29ya3NwYWNlLmNvb2tpZXMuZm9yZ2V0KG5hbWUpLFxuICAgICAgcm9vbTogKG5hbWUpID0+IHdvcmtzcGFjZS5zZXNzaW9uUm9vbShuYW1lKSxcbiAgICB9KSxcbiAgICBzZXNzaW9uUm9vbTogKG5hbWUpID0+IHNlc3Npb25Sb29tKHdvcmtzcGFjZSwgbmFtZSwgZ2l2ZW4ucGVyc29uKSxcbiAgICBwcmVwYXJlKHJlcXVlc3QpIHtcbiAgICAgIGNvbnN0IG5hbWUgPSBjb2xsZWN0aW9uLnJlc29sdmUoJ3JlcXVlc3QnLCByZXF1ZXN0KTtcbiAgICAgIGxldCByZWFkeSA9IHByZXBhcmVkLmdldChuYW1lKTtcbiAgICAgIGlmICghcmVhZHkpIHtcbiAgICAgICAgcmVhZHkgPSBwcmVwYXJlUmVxdWVzdChjb2xsZWN0aW9uLCBuYW1lLCByZWFkVGV4dCwgd29ya3NwYWNlLnNpZ25lcik7XG4gICAgICAgIHByZXBhcmVkLnNldChuYW1lLCByZWFkeSk7XG4gICAgICB9XG4gICAgICByZXR1cm4gcmVhZHk7XG4gICAgfSxcbiAgICBhc3luYyBzaWduZXIoc2lnbmF0dXJlKSB7XG4gICAgICBjb25zdCBuYW1lID0gY29sbGVjdGlvbi5yZXNvbHZlKCdzaWduYXR1cmUnLCBzaWduYXR1cmUpO1xuICAgICAgbGV0IHJlYWR5ID0gc2lnbmVycy5nZXQobmFtZSk7XG4gICAgICBpZiAoIXJlYWR5KSB7XG4gICAgICAgIHJlYWR5ID0gcHJlcGFyZVNpZ25lcihjb2xsZWN0aW9uLCBuYW1lKTtcbiAgICAgICAgc2lnbmVycy5zZXQobmFtZSwgcmVhZHkpO1xuICAgICAgfVxuICAgICAgcmV0dXJuIHJlYWR5O1xuICAgIH0sXG4gICAgYXN5bmMgZGVtYW5kQ2hhbmdlKGZhY3RzKSB7XG4gICAgICBjb25zdCB7IG5hbWUsIGNoYW5nZXMsIGZpbGUgfSA9IGVudmlyb25tZW50O1xuICAgICAgaWYgKGNoYW5nZXMgPT09ICdhbGxvdycgfHwgKGNoYW5nZXMgPT09ICdhc2snICYmIGdpdmVuLmFsbG93Q2hhbmdlcykpIHJldHVybjtcbiAgICAgIGNvbnN0IGNhbGwgPSBgJHtmYWN0cy5tZXRob2R9ICR7cmVkYWN0b3IuaGlkZShmYWN0cy51cmwpfWA7XG4gICAgICBpZiAoY2hhbmdlcyA9PT0gJ3JlZnVzZScpIHtcbiAgICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ2NoYW5nZS1yZWZ1c2VkJywge1xuICAgICAgICAgIHdoYXQ6IGB0aGUgZW52aXJvbm1lbnQgJHtuYW1lfSByZWZ1c2VzIGNhbGxzIHRoYXQgY2hhbmdlIHNvbWV0aGluZzogJHtjYWxsfWAsXG4gICAgICAgICAgd2hlcmU6IHsgZmlsZSB9LFxuICAgICAgICAgIHJlbWVkeTogJ3VzZSBhbm90aGVyIGVudmlyb25tZW50OyBmb3IgYSBjYWxsIHRoYXQgY2hhbmdlcyBub3RoaW5nLCB3cml0ZSBjaGFuZ2VzOiBmYWxzZSBpbiBpdHMgcmVxdWVzdCBmaWxlJyxcbiAgICAgICAgfSk7XG4gICAgICB9XG4gICAgICAvLyBPbmUgcXVlc3Rpb24gZm9yIGNhbGxzIHRoYXQgY29tZSBhdCB0aGUgc2FtZSB0aW1lLlxuICAgICAgY29uZmlybWluZyA/Pz0gZ2l2ZW4uY29uZmlybUNoYW5nZT8uKHsgZW52aXJvbm1lbnQ6IG5hbWUsIC4uLmV4cGVjdGVkLCAuLi5mYWN0cyB9KTtcbiAgICAgIGlmIChhd2FpdCBjb25maXJtaW5nKSByZXR1cm47XG4gICAgICBjb25maXJtaW5nID0gdW5kZWZpbmVkO1xuICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ2NoYW5nZS11bmNvbmZpcm1lZCcsIHtcbiAgICAgICAgd2hhdDogYHRoZSBlbnZpcm9ubWVudCAke25hbWV9IGFza3MgYmVmb3JlIGEgY2hhbmdlLCBhbmQgbm9ib2R5IHNhaWQgeWVzOiAke2NhbGx9YCxcbiAgICAgICAgd2hlcmU6IHsgZmlsZSB9LFxuICAgICAgICByZW1lZHk6ICctLWFsbG93LWNoYW5nZXMgc2F5cyB5ZXMgZm9yIG9uZSBjb21tYW5kOyBjaGFuZ2VzOiBhbGxvdyBpbiB0aGUgZW52aXJvbm1lbnQgc2F5cyBpdCBmb3IgZ29vZCcsXG4gICAgICB9KTtcbiAgICB9LFxuICAgIGV4cGVjdENoYW5nZXMoZ2l2ZW4pIHtcbiAgICAgIGV4cGVjdGVkID0gZ2l2ZW47XG4gICAgfSxcbiAgICBjaGVja1NldHRpbmdzKGlucHV0cykge1xuICAgICAgY29uc3Qga25vd24gPSBuZXcgU2V0KFsuLi5pbnB1dHMsIC4uLmxheWVycy5sYXllcnMuZmxhdE1hcCgoeyB2YXJpYWJsZXMgfSkgPT4gWy4uLnZhcmlhYmxlcy5rZXlzKCldKV0pO1xuICAgICAgZm9yIChjb25zdCBuYW1lIG9mIHNldHRpbmdzLmtleXMoKSkge1xuICAgICAgICBpZiAoa25vd24uaGFzKG5hbWUpKSBjb250aW51ZTtcbiAgICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ3VzYWdlJywge1xuICAgICAgICAgIHdoYXQ6IGAtLXNldCAke25hbWV9OiBub3RoaW5nIGhlcmUgdGFrZXMgdGhhdCBuYW1lYCxcbiAgICAgICAgICByZW1lZHk6IG5lYXJlc3RIaW50KG5hbWUsIGtub3duKSxcbiAgICAgICAgICBkYXRhOiB7IG5hbWUgfSxcbiAgICAgICAgfSk7XG4gICAgICB9XG4gICAgfSxcbiAgICBhc3luYyBjbG9zZSgpIHtcbiAgICAgIGF3YWl0IHdvcmtzcGFjZS50cmFuc3BvcnQuY2xvc2UoKTtcbiAgICAgIGF3YWl0IHdvcmtzcGFjZS5jb29raWVzLmNsb3NlKCk7XG4gICAgICBhd2FpdCB3b3Jrc3BhY2UuY2xvY2tzLmNsb3NlKCk7XG4gICAgICBhd2FpdCB3b3Jrc3BhY2UubG9nLmNsb3NlKCk7XG4gICAgICBjb25zdCB7IHJ1bnMgPSAyMDAsIHNpemUgPSAnMjU2TUInIH0gPSBjb2xsZWN0aW9uLm1hbmlmZXN0LmNvbnRlbnQuZWNob2VzID8/IHt9O1xuICAgICAgYXdhaXQgcmV0YWluKGNvbGxlY3Rpb24ubG9jYWwsIHsgcnVucywgc2l6ZTogcGFyc2VTaXplKHNpemUpID8/IDI1NmU2IH0pO1xuICAgICAgYXdhaXQgcmV0YWluSm91cm5hbHMoY29sbGVjdGlvbi5sb2NhbCwgeyBydW5zIH0pO1xuICAgIH0sXG4gIH07XG4gIHJldHVybiB3b3Jrc3BhY2U7XG59XG5cbmNvbnN0IGVjaG9JZCA9IC9eW2EtejAtOV17NH1cXC5cXGQrJC87XG5cbi8qKiBUaGUgZW52aXJvbm1lbnQncyBvcmlnaW4gYXMgZmFyIGFzIGl0IGlzIGtub3duIHdpdGhvdXQgYSByb3cuICovXG5mdW5jdGlvbiBjb25zdGFudE9yaWdpbihsYXllcnM6IExheWVycywgd29ybGQ6ICgpID0+IFdvcmxkLCByZWRhY3RvcjogUmVkYWN0b3IpOiBzdHJpbmcgfCB1bmRlZmluZWQge1xuICB0cnkge1xuICAgIGNvbnN0IGZvdW5kID0gdmFyaWFibGVOYW1lcyhsYXllcnMsIG5vTmFtZXMsIHsgd29ybGQ6IHdvcmxkKCksIG9uU2VjcmV0OiByZWRhY3Rvci5hZGQgfSkubG9va3VwKCdvcmlnaW4nKTtcbiAgICByZXR1cm4gZm91bmQgPT09IHVuZGVmaW5lZCA/IHVuZGVmaW5lZCA6IHRleHRPZihmb3VuZC52YWx1ZSk7XG4gIH0gY2F0Y2gge1xuICAgIHJldHVybiB1bmRlZmluZWQ7XG4gIH1cbn1cblxuY29uc3QgaG9zdEluID0gKG9yaWdpbjogc3RyaW5nIHwgdW5kZWZpbmVkKTogc3RyaW5nID0+XG4gIG9yaWdpbiAhPT0gdW5kZWZpbmVkICYmIFVSTC5jYW5QYXJzZShvcmlnaW4pID8gbmV3IFVSTChvcmlnaW4pLmhvc3QgOiAnJztcbiIsICIvKiogVGhlIGxvZyBvZiBlY2hvZXM6IGEgZmlsZSBhIHJ1biwgYSBsaW5lIGFuIGVjaG8sIGFwcGVuZGVkIGFzIGl0IGhhcHBlbnMuICovXG5pbXBvcnQgeyByYW5kb21CeXRlcyB9IGZyb20gJ25vZGU6Y3J5cHRvJztcbmltcG9ydCB7IG1rZGlyLCB3cml0ZUZpbGUgfSBmcm9tICdub2RlOmZzL3Byb21pc2VzJztcbmltcG9ydCB7IGpvaW4gfSBmcm9tICdub2RlOnBhdGgnO1xuaW1wb3J0IHsgbGluZUxvZyB9IGZyb20gJy4uL3N0b3JhZ2UvbGluZS1sb2cuanMnO1xuaW1wb3J0IHR5cGUgeyBFY2hvIH0gZnJvbSAnLi9lY2hvLmpzJztcblxuZXhwb3J0IGludGVyZmFjZSBFY2hvTG9nIHtcbiAgLyoqIFNob3J0IG5hbWUgb2YgdGhpcyBydW4sIHRoZSBmaXJzdCBwYXJ0IG9mIGl0cyBlY2hvZXMnIGlkcy4gKi9cbiAgcmVhZG9ubHkgcnVuOiBzdHJpbmc7XG4gIG5leHRJZCgpOiBzdHJpbmc7XG4gIGFwcGVuZChlY2hvOiBFY2hvKTogdm9pZDtcbiAgLyoqIEEgbG9uZyBib2R5IG9mIGFuIGVjaG8gaW4gYSBmaWxlIG9mIGl0cyBvd247IGl0cyBwYXRoIGZyb20gdGhlIGZvbGRlciBvZiB0aGUgZWNob2VzLCB1bmRlZmluZWQgYmV5b25kIDY0IE1CLiAqL1xuICBiZXNpZGUoaWQ6IHN0cmluZywgZGlyZWN0aW9uOiAnc2VudCcgfCAncmVjZWl2ZWQnLCBjb250ZW50OiBzdHJpbmcgfCBVaW50OEFycmF5KTogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICAvKiogSG93IG1hbnkgYnl0ZXMgd2FpdCB0byBiZSB3cml0dGVuLiAqL1xuICByZWFkb25seSB3YWl0aW5nOiBudW1iZXI7XG4gIC8qKiBTZXR0bGVzIHdoZW4gYWxsIHRoYXQgd2FzIGFwcGVuZGVkIGlzIHdyaXR0ZW4uICovXG4gIGZsdXNoZWQoKTogUHJvbWlzZTx2b2lkPjtcbiAgLyoqIEB0aHJvd3Mgd2hlbiBhIGxpbmUgY291bGQgbm90IGJlIHdyaXR0ZW4gKi9cbiAgY2xvc2UoKTogUHJvbWlzZTx2b2lkPjtcbn1cblxuLyoqIEBwYXJhbSBsb2NhbCB0aGUgY29sbGVjdGlvbidzIGxvY2FsIHN0YXRlOyB0aGUgZmlsZSBpcyBtYWRlIHdpdGggdGhlIGZpcnN0IGVjaG8gKi9cbmV4cG9ydCBmdW5jdGlvbiBvcGVuRWNob0xvZyhsb2NhbDogc3RyaW5nLCBzdGFydGVkOiBEYXRlKTogRWNob0xvZyB7XG4gIGNvbnN0IHJ1biA9IHNob3J0TmFtZSgpO1xuICBjb25zdCBmb2xkZXIgPSBqb2luKGxvY2FsLCAnZWNob2VzJyk7XG4gIGNvbnN0IHBhdGggPSBqb2luKGZvbGRlciwgYCR7c3RhcnRlZC50b0lTT1N0cmluZygpLnJlcGxhY2UoL1stOl18XFwuXFxkKy9nLCAnJyl9LSR7cnVufS5qc29ubGApO1xuICBsZXQgY291bnQgPSAwO1xuICBsZXQgbGluZXM6IHN0cmluZ1tdID0gW107XG4gIGxldCBzaXplID0gMDtcbiAgbGV0IGZhaWx1cmU6IHVua25vd247XG4gIGNvbnN0IGJvZGllczogUHJvbWlzZTx2b2lkPltdID0gW107XG4gIGNvbnN0IGxvZyA9IGxpbmVMb2cocGF0aCwgKCkgPT4ge1xuICAgIGNvbnN0IGJhdGNoID0gbGluZXMuam9pbignJyk7XG4gICAgbGluZXMgPSBbXTtcbiAgICBzaXplID0gMDtcbiAgICByZXR1cm4gYmF0Y2g7XG4gIH0pO1xuXG4gIHJldHVybiB7XG4gICAgcnVuLFxuICAgIG5leHRJZDogKCkgPT4ge1xuICAgICAgY291bnQgKz0gMTtcbiAgICAgIHJldHVybiBgJHtydW59LiR7Y291bnR9YDtcbiAgICB9LFxuICAgIGFwcGVuZChlY2hvKSB7XG4gICAgICBjb25zdCBsaW5lID0gYCR7SlNPTi5zdHJpbmdpZnkoZWNobyl9XFxuYDtcbiAgICAgIGxpbmVzLnB1c2gobGluZSk7XG4gICAgICBzaXplICs9IGxpbmUubGVuZ3RoO1xuICAgICAgbG9nLndha2UoKTtcbiAgICB9LFxuICAgIGJlc2lkZShpZCwgZGlyZWN0aW9uLCBjb250ZW50KSB7XG4gICAgICBpZiAoY29udGVudC5sZW5ndGggPiBsb25nZXN0QmVzaWRlKSByZXR1cm4gdW5kZWZpbmVkO1xuICAgICAgY29uc3QgbmFtZSA9IGBib2RpZXMvJHtydW59LyR7aWQuc2xpY2UocnVuLmxlbmd0aCArIDEpfS0ke2RpcmVjdGlvbn1gO1xuICAgICAgYm9kaWVzLnB1c2goXG4gICAgICAgIG1rZGlyKGpvaW4oZm9sZGVyLCAnYm9kaWVzJywgcnVuKSwgeyByZWN1cnNpdmU6IHRydWUsIG1vZGU6IDBvNzAwIH0pXG4gICAgICAgICAgLnRoZW4oKCkgPT4gd3JpdGVGaWxlKGpvaW4oZm9sZGVyLCBuYW1lKSwgY29udGVudCwgeyBtb2RlOiAwbzYwMCB9KSlcbiAgICAgICAgICAuY2F0Y2goKGVycm9yOiB1bmtub3duKSA9PiB7XG4gICAgICAgICAgICBmYWlsdXJlID8/PSBlcnJvcjtcbiAgICAgICAgICB9KSxcbiAgICAgICk7XG4gICAgICByZXR1cm4gbmFtZTtcbiAgICB9LFxuICAgIGdldCB3YWl0aW5nKCkge1xuICAgICAgcmV0dXJuIHNpemU7XG4gICAgfSxcbiAgICBhc3luYyBmbHVzaGVkKCkge1xuICAgICAgYXdhaXQgbG9nLndyaXR0ZW4oKTtcbiAgICAgIGF3YWl0IFByb21pc2UuYWxsKGJvZGllcyk7XG4gICAgfSxcbiAgICBhc3luYyBjbG9zZSgpIHtcbiAgICAgIGF3YWl0IGxvZy5jbG9zZSgpO1xuICAgICAgYXdhaXQgUHJvbWlzZS5hbGwoYm9kaWVzKTtcbiAgICAgIGlmIChmYWlsdXJlICE9PSB1bmRlZmluZWQpIHRocm93IGZhaWx1cmU7XG4gICAgfSxcbiAgfTtcbn1cblxuLyoqIEEgbG9uZ2VyIGJvZHkgaXMgcmVjb3JkZWQgYnkgaXRzIGJlZ2lubmluZyBhbG9uZS4gKi9cbmNvbnN0IGxvbmdlc3RCZXNpZGUgPSA2NGU2O1xuXG4vKiogRm91ciBsZXR0ZXJzIGFuZCBkaWdpdHMgdGhhdCBhcmUgaGFyZCB0byBjb25mdXNlOyBhIGxldHRlciBmaXJzdCwgc28gdGhhdCBubyBmaWxlIGZvcm1hdCB0YWtlcyBhbiBpZCBmb3IgYSBudW1iZXIuICovXG5mdW5jdGlvbiBzaG9ydE5hbWUoKTogc3RyaW5nIHtcbiAgY29uc3QgbGV0dGVycyA9ICdhYmNkZWZnaGprbW5wcXJzdHV2d3h5eic7XG4gIGNvbnN0IGJvdGggPSBgJHtsZXR0ZXJzfTIzNDU2Nzg5YDtcbiAgcmV0dXJuIFsuLi5yYW5kb21CeXRlcyg0KV1cbiAgICAubWFwKChieXRlLCBpbmRleCkgPT4gKGluZGV4ID09PSAwID8gbGV0dGVyc1tieXRlICUgbGV0dGVycy5sZW5ndGhdIDogYm90aFtieXRlICUgYm90aC5sZW5ndGhdKSlcbiAgICAuam9pbignJyk7XG59XG4iLCAiLyoqIFRlbXBsYXRlIGZpbGVzIGZvciBgcmVuZGVyYCBhbmQgYHJlbmRlci1lYWNoYCwgZWFjaCByZWFkIGFuZCBwYXJzZWQgb25jZS4gKi9cbmltcG9ydCB7IHJlYWRGaWxlU3luYyB9IGZyb20gJ25vZGU6ZnMnO1xuaW1wb3J0IHR5cGUgeyBXb3JsZCB9IGZyb20gJy4uL2V4cHJlc3Npb24vd29ybGQuanMnO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBwYXRoSW5zaWRlIH0gZnJvbSAnLi4vc3RvcmFnZS9pbnNpZGUuanMnO1xuaW1wb3J0IHR5cGUgeyBCb2R5UGxhbiB9IGZyb20gJy4vYm9keS9ib2R5LWtpbmQuanMnO1xuaW1wb3J0IHsgY29tcGlsZVRlbXBsYXRlVGV4dCB9IGZyb20gJy4vYm9keS90ZW1wbGF0ZS5qcyc7XG5cbi8qKiBBIHRlbXBsYXRlIHRoYXQgcmVuZGVycyBhbm90aGVyLCBhbmQgc28gb247IGRlZXBlciBpdCByZW5kZXJzIGl0c2VsZi4gKi9cbmNvbnN0IGRlZXBlc3QgPSAyMDtcblxuLyoqIEBwYXJhbSByb290IHRoZSBjb2xsZWN0aW9uIGZvbGRlciAqL1xuZXhwb3J0IGZ1bmN0aW9uIHRlbXBsYXRlUmVuZGVyZXIocm9vdDogc3RyaW5nKTogV29ybGRbJ3JlbmRlciddIHtcbiAgY29uc3QgcGxhbnMgPSBuZXcgTWFwPHN0cmluZywgQm9keVBsYW4+KCk7XG4gIGxldCBkZXB0aCA9IDA7XG4gIHJldHVybiAocGF0aCwgZXZhbHVhdGlvbikgPT4ge1xuICAgIGxldCBwbGFuID0gcGxhbnMuZ2V0KHBhdGgpO1xuICAgIGlmICghcGxhbikge1xuICAgICAgLy8gV2hhdCBpdHMgZmlsdGVycyBuZWVkIGlzIGxvYWRlZCBhbHJlYWR5OiBgcmVuZGVyYCBhc2tzIGZvciBhbGwgb2YgaXQuXG4gICAgICBwbGFuID0gY29tcGlsZVRlbXBsYXRlVGV4dChyZWFkRmlsZVN5bmMocGF0aEluc2lkZShyb290LCBwYXRoKSwgJ3V0ZjgnKS5yZXBsYWNlKC9eXFx1RkVGRi8sICcnKSwgcGF0aCwgW10pO1xuICAgICAgcGxhbnMuc2V0KHBhdGgsIHBsYW4pO1xuICAgIH1cbiAgICBpZiAoZGVwdGggPj0gZGVlcGVzdClcbiAgICAgIHRocm93IG5ldyBQcm9ibGVtKCdleHByZXNzaW9uLXZhbHVlJywgeyB3aGF0OiBgdGhlIHRlbXBsYXRlICR7cGF0aH0gcmVuZGVycyBpdHNlbGZgLCB3aGVyZTogeyBmaWxlOiBwYXRoIH0gfSk7XG4gICAgZGVwdGggKz0gMTtcbiAgICB0cnkge1xuICAgICAgY29uc3QgYm9keSA9IHBsYW4oZXZhbHVhdGlvbik7XG4gICAgICBpZiAoYm9keT8uc2VjcmV0KSBldmFsdWF0aW9uLnRvdWNoZWRTZWNyZXQgPSB0cnVlO1xuICAgICAgcmV0dXJuIGJvZHkgPyBCdWZmZXIuZnJvbShib2R5LmJ5dGVzKS50b1N0cmluZygndXRmOCcpIDogJyc7XG4gICAgfSBmaW5hbGx5IHtcbiAgICAgIGRlcHRoIC09IDE7XG4gICAgfVxuICB9O1xufVxuIiwgIi8qKlxuICogQ29va2llcyAoUkZDIDYyNjUpIGJ5IGEgd2VsbC1rbm93biBsaWJyYXJ5OiBhIGphciBmb3IgZWFjaCBlbnZpcm9ubWVudCBhbmQgdGhlIHNlc3Npb25zIGluIGZvcmNlLCBrZXB0IHNlYWxlZCwgc2luY2VcbiAqIHdoYXQgYSBjb29raWUgaG9sZHMgaXMgb2Z0ZW4gYSBzZXNzaW9uLiBOb3RoaW5nIGlzIHJlYWQgb3Igd3JpdHRlbiBiZWZvcmUgdGhlcmUgaXMgYSBjb29raWUuXG4gKi9cbmltcG9ydCB7IGV4aXN0c1N5bmMgfSBmcm9tICdub2RlOmZzJztcbmltcG9ydCB7IGpvaW4gfSBmcm9tICdub2RlOnBhdGgnO1xuaW1wb3J0IHR5cGUgeyBDb29raWVKYXIgfSBmcm9tICd0b3VnaC1jb29raWUnO1xuaW1wb3J0IHR5cGUgeyBIZWFkZXJMaW5lIH0gZnJvbSAnLi4vZXhjaGFuZ2Uvd2lyZS5qcyc7XG5pbXBvcnQgeyBzZWFsZWRGaWxlIH0gZnJvbSAnLi4vc3RvcmFnZS9zZWFsZWQtZmlsZS5qcyc7XG5cbmV4cG9ydCBpbnRlcmZhY2UgQ29va2llSmFycyB7XG4gIC8qKiBAcGFyYW0gc2Vzc2lvbnMgaW4gZm9yY2UgZm9yIHRoZSByZXF1ZXN0OyB0aG9zZSBvZiBhbm90aGVyIHNlc3Npb24gYXJlIGluIGEgamFyIG9mIHRoZWlyIG93biAqL1xuICBvcGVuKHNlc3Npb25zOiByZWFkb25seSBzdHJpbmdbXSk6IE9wZW5KYXIgfCBQcm9taXNlPE9wZW5KYXI+O1xuICAvKiogV3JpdGVzIHdoYXQgY2hhbmdlZC4gKi9cbiAgY2xvc2UoKTogUHJvbWlzZTx2b2lkPjtcbiAgLyoqIExldHMgdGhlIGNvb2tpZXMgb2Ygb25lIHNlc3Npb24gZ28uICovXG4gIGZvcmdldChzZXNzaW9uOiBzdHJpbmcpOiB2b2lkO1xuICAvKiogTGV0cyBhbGwgY29va2llcyBvZiB0aGUgZW52aXJvbm1lbnQgZ28uICovXG4gIGNsZWFyKCk6IFByb21pc2U8dm9pZD47XG59XG5cbmV4cG9ydCBpbnRlcmZhY2UgT3BlbkphciB7XG4gIC8qKiBUaGUgaGVhZGVyIGxpbmUgZm9yIGFuIGFkZHJlc3M7IHVuZGVmaW5lZCB3aGVyZSBubyBjb29raWUgYmVsb25ncyB0aGVyZS4gKi9cbiAgbGluZSh1cmw6IFVSTCk6IEhlYWRlckxpbmUgfCB1bmRlZmluZWQ7XG4gIC8qKiBUYWtlcyB0aGUgY29va2llcyBvZiBhbiBhbnN3ZXIuIEByZXR1cm5zIHRoZSBuYW1lcyB0aGF0IHdlcmUgc2V0IG9yIGVuZGVkICovXG4gIHRha2UodXJsOiBVUkwsIGhlYWRlcnM6IHJlYWRvbmx5IChyZWFkb25seSBbc3RyaW5nLCBzdHJpbmddKVtdKTogUHJvbWlzZTxyZWFkb25seSBzdHJpbmdbXT47XG59XG5cbnR5cGUgU3RvcmVkID0gUmVhZG9ubHk8UmVjb3JkPHN0cmluZywgUmV0dXJuVHlwZTxDb29raWVKYXJbJ3NlcmlhbGl6ZVN5bmMnXT4+PjtcblxuLyoqIEBwYXJhbSBvblNlY3JldCB0b2xkIG9mIGVhY2ggdmFsdWUsIHNvIHRoYXQgaXQgaXMgaGlkZGVuIGV2ZXJ5d2hlcmUgKi9cbmV4cG9ydCBmdW5jdGlvbiBjb29raWVKYXJzKFxuICBsb2NhbDogc3RyaW5nLFxuICBob21lOiBzdHJpbmcsXG4gIGVudmlyb25tZW50OiBzdHJpbmcsXG4gIG9uU2VjcmV0OiAodmFsdWU6IHN0cmluZykgPT4gdm9pZCxcbik6IENvb2tpZUphcnMge1xuICBjb25zdCBwYXRoID0gam9pbihsb2NhbCwgJ2Nvb2tpZXMnLCBgJHtlbnZpcm9ubWVudC5yZXBsYWNlQWxsKCcvJywgJy0nKX0uc2VhbGVkYCk7XG4gIGNvbnN0IGZpbGUgPSBzZWFsZWRGaWxlPFN0b3JlZD4ocGF0aCwgaG9tZSwge30pO1xuICBjb25zdCBqYXJzID0gbmV3IE1hcDxzdHJpbmcsIENvb2tpZUphcj4oKTtcbiAgbGV0IHN0b3JlZDogUHJvbWlzZTxTdG9yZWQ+IHwgdW5kZWZpbmVkID0gZXhpc3RzU3luYyhwYXRoKSA/IHVuZGVmaW5lZCA6IFByb21pc2UucmVzb2x2ZSh7fSk7XG4gIGxldCBjaGFuZ2VkID0gZmFsc2U7XG5cbiAgY29uc3QgamFyT2YgPSBhc3luYyAobmFtZTogc3RyaW5nKTogUHJvbWlzZTxDb29raWVKYXIgfCB1bmRlZmluZWQ+ID0+IHtcbiAgICBzdG9yZWQgPz89IGZpbGUucmVhZCgpO1xuICAgIGNvbnN0IGtub3duID0gamFycy5nZXQobmFtZSk7XG4gICAgaWYgKGtub3duKSByZXR1cm4ga25vd247XG4gICAgY29uc3QgYmVmb3JlID0gKGF3YWl0IHN0b3JlZClbbmFtZV07XG4gICAgaWYgKCFiZWZvcmUpIHJldHVybiB1bmRlZmluZWQ7XG4gICAgY29uc3QgeyBDb29raWVKYXI6IEphciB9ID0gYXdhaXQgaW1wb3J0KCd0b3VnaC1jb29raWUnKTtcbiAgICBjb25zdCBqYXIgPSBKYXIuZGVzZXJpYWxpemVTeW5jKGJlZm9yZSk7XG4gICAgZm9yIChjb25zdCB7IHZhbHVlIH0gb2YgYmVmb3JlLmNvb2tpZXMgPz8gW10pIGlmICh0eXBlb2YgdmFsdWUgPT09ICdzdHJpbmcnKSBvblNlY3JldCh2YWx1ZSk7XG4gICAgamFycy5zZXQobmFtZSwgamFyKTtcbiAgICByZXR1cm4gamFyO1xuICB9O1xuXG4gIGNvbnN0IG9wZW5lZCA9IG5ldyBNYXA8c3RyaW5nLCBPcGVuSmFyPigpO1xuXG4gIGNvbnN0IG1ha2UgPSBhc3luYyAobmFtZTogc3RyaW5nKTogUHJvbWlzZTxPcGVuSmFyPiA9PiB7XG4gICAgbGV0IGphciA9IGF3YWl0IGphck9mKG5hbWUpO1xuICAgIGNvbnN0IG9uZTogT3BlbkphciA9IHtcbiAgICAgIGxpbmUodXJsKSB7XG4gICAgICAgIGNvbnN0IHZhbHVlID0gamFyPy5nZXRDb29raWVTdHJpbmdTeW5jKHVybC5ocmVmKSA/PyAnJztcbiAgICAgICAgcmV0dXJuIHZhbHVlID09PSAnJyA/IHVuZGVmaW5lZCA6IHsgbmFtZTogJ0Nvb2tpZScsIHZhbHVlLCBvcmlnaW46ICdjb29raWVzJywgc2VjcmV0OiB0cnVlIH07XG4gICAgICB9LFxuICAgICAgYXN5bmMgdGFrZSh1cmwsIGhlYWRlcnMpIHtcbiAgICAgICAgY29uc3QgbGluZXMgPSBoZWFkZXJzLmZpbHRlcigoW2tleV0pID0+IGtleS50b0xvd2VyQ2FzZSgpID09PSAnc2V0LWNvb2tpZScpO1xuICAgICAgICBpZiAobGluZXMubGVuZ3RoID09PSAwKSByZXR1cm4gW107XG4gICAgICAgIGNvbnN0IHsgQ29va2llSmFyOiBKYXIsIENvb2tpZSB9ID0gYXdhaXQgaW1wb3J0KCd0b3VnaC1jb29raWUnKTtcbiAgICAgICAgamFyID8/PSBqYXJzLmdldChuYW1lKSA/PyBuZXcgSmFyKHVuZGVmaW5lZCwgeyBsb29zZU1vZGU6IHRydWUgfSk7XG4gICAgICAgIGphcnMuc2V0KG5hbWUsIGphcik7XG4gICAgICAgIGNvbnN0IG5hbWVzOiBzdHJpbmdbXSA9IFtdO1xuICAgICAgICBmb3IgKGNvbnN0IFssIGxpbmVdIG9mIGxpbmVzKSB7XG4gICAgICAgICAgY29uc3QgY29va2llID0gQ29va2llLnBhcnNlKGxpbmUsIHsgbG9vc2U6IHRydWUgfSk7XG4gICAgICAgICAgaWYgKCFjb29raWUpIGNvbnRpbnVlO1xuICAgICAgICAgIG9uU2VjcmV0KGNvb2tpZS52YWx1ZSk7XG4gICAgICAgICAgLy8gT25lIGZvciBhbm90aGVyIGRvbWFpbiBpcyByZWZ1c2VkLCBhcyBhIGJyb3dzZXIgcmVmdXNlcyBpdC5cbiAgICAgICAgICBpZiAoamFyLnNldENvb2tpZVN5bmMoY29va2llLCB1cmwuaHJlZiwgeyBpZ25vcmVFcnJvcjogdHJ1ZSB9KSkgbmFtZXMucHVzaChjb29raWUua2V5KTtcbiAgICAgICAgfVxuICAgICAgICBjaGFuZ2VkID0gdHJ1ZTtcbiAgICAgICAgcmV0dXJuIG5hbWVzO1xuICAgICAgfSxcbiAgICB9O1xuICAgIG9wZW5lZC5zZXQobmFtZSwgb25lKTtcbiAgICByZXR1cm4gb25lO1xuICB9O1xuXG4gIHJldHVybiB7XG4gICAgLy8gQSBydW4gYXNrcyBhdCBldmVyeSByZXF1ZXN0OiB0aGVuIGl0IGlzIHRoZXJlIGFscmVhZHkuXG4gICAgb3BlbihzZXNzaW9ucykge1xuICAgICAgY29uc3QgbmFtZSA9IHNlc3Npb25zLmxlbmd0aCA+IDEgPyBbLi4uc2Vzc2lvbnNdLnNvcnQoKS5qb2luKCcgJykgOiAoc2Vzc2lvbnNbMF0gPz8gJycpO1xuICAgICAgcmV0dXJuIG9wZW5lZC5nZXQobmFtZSkgPz8gbWFrZShuYW1lKTtcbiAgICB9LFxuICAgIGFzeW5jIGNsb3NlKCkge1xuICAgICAgaWYgKCFjaGFuZ2VkKSByZXR1cm47XG4gICAgICBjb25zdCBhbGwgPSBPYmplY3QuZnJvbUVudHJpZXMoWy4uLmphcnNdLm1hcCgoW25hbWUsIGphcl0pID0+IFtuYW1lLCBqYXIuc2VyaWFsaXplU3luYygpXSkpO1xuICAgICAgYXdhaXQgZmlsZS53cml0ZSh7IC4uLihhd2FpdCBzdG9yZWQpLCAuLi5hbGwgfSBhcyBTdG9yZWQpO1xuICAgICAgY2hhbmdlZCA9IGZhbHNlO1xuICAgIH0sXG4gICAgZm9yZ2V0KHNlc3Npb24pIHtcbiAgICAgIGphcnMuZGVsZXRlKHNlc3Npb24pO1xuICAgICAgb3BlbmVkLmRlbGV0ZShzZXNzaW9uKTtcbiAgICAgIHN0b3JlZCA9IChzdG9yZWQgPz8gZmlsZS5yZWFkKCkpLnRoZW4oKHsgW3Nlc3Npb25dOiBfLCAuLi5vdGhlcnMgfSkgPT4gb3RoZXJzKTtcbiAgICAgIGNoYW5nZWQgPSB0cnVlO1xuICAgIH0sXG4gICAgYXN5bmMgY2xlYXIoKSB7XG4gICAgICBqYXJzLmNsZWFyKCk7XG4gICAgICBvcGVuZWQuY2xlYXIoKTtcbiAgICAgIGNoYW5nZWQgPSBmYWxzZTtcbiAgICAgIHN0b3JlZCA9IFByb21pc2UucmVzb2x2ZSh7fSk7XG4gICAgICBpZiAoZXhpc3RzU3luYyhwYXRoKSkgYXdhaXQgZmlsZS53cml0ZSh7fSk7XG4gICAgfSxcbiAgfTtcbn1cbiIsICIvKiogVGhlIHNlc3Npb25zIG9mIG9uZSBlbnZpcm9ubWVudDogb3BlbmVkIHdoZW4gZmlyc3QgbmVlZGVkLCBvbmNlLCBrZXB0IGJldHdlZW4gcnVucywgY2xvc2VkIG9uIHJlcXVlc3QuICovXG5pbXBvcnQgeyBqb2luIH0gZnJvbSAnbm9kZTpwYXRoJztcbmltcG9ydCB0eXBlIHsgQ29sbGVjdGlvbiB9IGZyb20gJy4uL2NvbGxlY3Rpb24vY29sbGVjdGlvbi5qcyc7XG5pbXBvcnQgdHlwZSB7IFNlc3Npb25GaWxlIH0gZnJvbSAnLi4vY29sbGVjdGlvbi9maWxlcy9zZXNzaW9uLWZpbGUuanMnO1xuaW1wb3J0IHR5cGUgeyBUbHNJZGVudGl0eSB9IGZyb20gJy4uL2V4Y2hhbmdlL2Nvbm5lY3Rpb24uanMnO1xuaW1wb3J0IHR5cGUgeyBSZWNlaXZlZCB9IGZyb20gJy4uL2V4Y2hhbmdlL3JlY2VpdmVkLmpzJztcbmltcG9ydCB0eXBlIHsgSGVhZGVyTGluZSwgUXVlcnlQYWlyIH0gZnJvbSAnLi4vZXhjaGFuZ2Uvd2lyZS5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IGFsb25lIH0gZnJvbSAnLi4vc3RvcmFnZS9hbG9uZS5qcyc7XG5pbXBvcnQgeyBzZWFsZWRGaWxlIH0gZnJvbSAnLi4vc3RvcmFnZS9zZWFsZWQtZmlsZS5qcyc7XG5pbXBvcnQgeyBpc1NlY3JldE5hbWUgfSBmcm9tICcuLi92YWx1ZS9zZWNyZXQtZmllbGRzLmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUgfSBmcm9tICcuLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB7IHNlc3Npb25LaW5kcyB9IGZyb20gJy4vcmVnaXN0cnkuanMnO1xuaW1wb3J0IHR5cGUgeyBDYWxsVG9Qcm92ZSwgT3BlblNlc3Npb24sIFNlc3Npb25LaW5kLCBTZXNzaW9uUm9vbSB9IGZyb20gJy4vc2Vzc2lvbi1raW5kLmpzJztcbmltcG9ydCB7IGNsYWltc09mIH0gZnJvbSAnLi90b2tlbi1jbGFpbXMuanMnO1xuXG4vKiogQSB0b2tlbiB0aGF0IGVuZHMgd2l0aGluIHRoaXMgdGltZSBpcyByZW5ld2VkIGJlZm9yZSBpdCBpcyB1c2VkLiAqL1xuY29uc3QgbWFyZ2luID0gNV8wMDA7XG5cbmV4cG9ydCBpbnRlcmZhY2UgU2Vzc2lvbkZhY3RzIHtcbiAgcmVhZG9ubHkgbmFtZTogc3RyaW5nO1xuICByZWFkb25seSBraW5kOiBzdHJpbmc7XG4gIHJlYWRvbmx5IGFib3V0OiBzdHJpbmcgfCB1bmRlZmluZWQ7XG4gIC8qKiBXaGV0aGVyIHRoZXJlIGlzIGFueXRoaW5nIHRvIG9wZW4uICovXG4gIHJlYWRvbmx5IG9wZW5zOiBib29sZWFuO1xuICByZWFkb25seSBvcGVuOiBib29sZWFuO1xuICByZWFkb25seSBvcGVuZWQ6IHN0cmluZyB8IHVuZGVmaW5lZDtcbiAgcmVhZG9ubHkgZXhwaXJlczogbnVtYmVyIHwgdW5kZWZpbmVkO1xuICAvKiogSXQgY2FuIGJlIHJlbmV3ZWQgd2l0aG91dCBpdHMgY3JlZGVudGlhbHMuICovXG4gIHJlYWRvbmx5IHJlbmV3YWJsZTogYm9vbGVhbjtcbiAgLyoqIFdoYXQgYSBKU09OIFdlYiBUb2tlbiBzYXlzIG9mIGl0c2VsZiAoUkZDIDc1MTkpLiAqL1xuICByZWFkb25seSBjbGFpbXM6IFJlYWRvbmx5PFJlY29yZDxzdHJpbmcsIHVua25vd24+PiB8IHVuZGVmaW5lZDtcbn1cblxuLyoqIFdoYXQgc2Vzc2lvbnMgYWRkIHRvIG9uZSByZXF1ZXN0LCBhbmQgZnJvbSB3aGljaCB0b2tlbnMuICovXG5leHBvcnQgaW50ZXJmYWNlIEF0dGFjaG1lbnQge1xuICByZWFkb25seSBsaW5lczogcmVhZG9ubHkgSGVhZGVyTGluZVtdO1xuICByZWFkb25seSBxdWVyeTogcmVhZG9ubHkgUXVlcnlQYWlyW107XG4gIHJlYWRvbmx5IGlkZW50aXR5OiBUbHNJZGVudGl0eSB8IHVuZGVmaW5lZDtcbiAgLyoqIFdoZXJlIHRoZXkgd2VyZSBzZW50LiAqL1xuICByZWFkb25seSBob3N0OiBzdHJpbmc7XG4gIC8qKiBUaGUgc2Vzc2lvbnMsIGJ5IHRoZWlyIHdob2xlIG5hbWVzLiAqL1xuICByZWFkb25seSBuYW1lczogcmVhZG9ubHkgc3RyaW5nW107XG4gIHJlYWRvbmx5IHRva2VuczogcmVhZG9ubHkgeyByZWFkb25seSBuYW1lOiBzdHJpbmc7IHJlYWRvbmx5IHNlc3Npb246IE9wZW5TZXNzaW9uIH1bXTtcbiAgLyoqIEEgc2Vzc2lvbiB3YXMgb3BlbmVkIGZvciB0aGlzIHZlcnkgcmVxdWVzdDogaXRzIHJlZnVzYWwgaXMgbm90IGEgbWF0dGVyIG9mIGFnZS4gKi9cbiAgcmVhZG9ubHkgb3BlbmVkTm93OiBib29sZWFuO1xufVxuXG5leHBvcnQgaW50ZXJmYWNlIFNlc3Npb25zIHtcbiAgLyoqIFdoYXQgdGhlIG5hbWVkIHNlc3Npb25zIGFkZCB0byBhIHJlcXVlc3Q7IG9wZW5zIHRob3NlIHRoYXQgYXJlIG5vdCBvcGVuLiAqL1xuICBhdHRhY2gobmFtZXM6IHJlYWRvbmx5IHN0cmluZ1tdLCBjYWxsOiBDYWxsVG9Qcm92ZSk6IFByb21pc2U8QXR0YWNobWVudD47XG4gIC8qKiBUaGUgc2FtZSB3aXRob3V0IG9wZW5pbmcgYW55dGhpbmc6IHdoaWNoIG9mIHRoZW0gYXJlIG5vdCBvcGVuLCBhbmQgd2hhdCB0aGV5IHdvdWxkIGFkZC4gKi9cbiAgcGVlayhuYW1lczogcmVhZG9ubHkgc3RyaW5nW10pOiBQcm9taXNlPHtcbiAgICByZWFkb25seSBsaW5lczogcmVhZG9ubHkgSGVhZGVyTGluZVtdO1xuICAgIHJlYWRvbmx5IHF1ZXJ5OiByZWFkb25seSBRdWVyeVBhaXJbXTtcbiAgICByZWFkb25seSBub3RPcGVuOiByZWFkb25seSBzdHJpbmdbXTtcbiAgfT47XG4gIC8qKiBPbmUgc2Vzc2lvbiBhcyBpdCBpcyBvcGVuLiBAcGFyYW0gb3BlbmluZyBvcGVucyBpdCB3aGVyZSBpdCBpcyBub3Q7IHVuZGVmaW5lZCB3aGVyZSB0aGVyZSBpcyBub3RoaW5nIHRvIG9wZW4gKi9cbiAgb3Blbk9mKG5hbWU6IHN0cmluZywgb3BlbmluZzogYm9vbGVhbik6IFByb21pc2U8T3BlblNlc3Npb24gfCB1bmRlZmluZWQ+O1xuICAvKiogVGhvc2UgdGhhdCBhcmUgb3BlbmVkLCBieSB0aGVpciB3aG9sZSBuYW1lcy4gKi9cbiAgb3BlbmluZyhuYW1lczogcmVhZG9ubHkgc3RyaW5nW10pOiByZWFkb25seSBzdHJpbmdbXTtcbiAgLyoqIFRvbGQgb2YgZWFjaCBhbnN3ZXIuIFRydWUgd2hlcmUgYSByZWZ1c2FsIGlzIHRvIGJlIGFuc3dlcmVkIHdpdGggdGhlIHNhbWUgcmVxdWVzdCwgcHJvdmVkIGFuZXcuICovXG4gIGhlYXJkKGF0dGFjaG1lbnQ6IEF0dGFjaG1lbnQsIHN0YXR1czogbnVtYmVyLCBoZWFkZXJzOiBSZWNlaXZlZFsnaGVhZGVycyddKTogYm9vbGVhbjtcbiAgLyoqXG4gICAqIE9wZW5zIGFuZXcgYWZ0ZXIgYSByZWZ1c2FsLiBNYW55IHJlZnVzYWxzIG9mIG9uZSB0b2tlbiBjYXVzZSBvbmUgcmVuZXdhbC5cbiAgICogRmFsc2Ugd2hlcmUgbm90aGluZyBjYW4gYmUgcmVuZXdlZDogdGhlIHJlZnVzYWwgdGhlbiBtZWFucyBzb21ldGhpbmcgZWxzZS5cbiAgICovXG4gIHJlbmV3KGF0dGFjaG1lbnQ6IFBpY2s8QXR0YWNobWVudCwgJ3Rva2VucycgfCAnb3BlbmVkTm93Jz4pOiBQcm9taXNlPGJvb2xlYW4+O1xuICBvcGVuKG5hbWU6IHN0cmluZyk6IFByb21pc2U8U2Vzc2lvbkZhY3RzPjtcbiAgLyoqIEZhbHNlIHdoZXJlIGl0IHdhcyBub3Qgb3Blbi4gKi9cbiAgY2xvc2UobmFtZTogc3RyaW5nKTogUHJvbWlzZTxib29sZWFuPjtcbiAgbGlzdCgpOiBQcm9taXNlPHJlYWRvbmx5IFNlc3Npb25GYWN0c1tdPjtcbiAgLyoqIE9wZW5lZCBieSB0aGlzIHByb2Nlc3MgYW5kIHN0aWxsIG9wZW4sIHRoZSBuZXdlc3QgZmlyc3QuICovXG4gIHJlYWRvbmx5IG9wZW5lZDogcmVhZG9ubHkgc3RyaW5nW107XG59XG5cbmV4cG9ydCBpbnRlcmZhY2UgU2Vzc2lvbnNTZXR0aW5ncyB7XG4gIHJlYWRvbmx5IGNvbGxlY3Rpb246IENvbGxlY3Rpb247XG4gIHJlYWRvbmx5IGVudmlyb25tZW50OiBzdHJpbmc7XG4gIC8qKiBUaGUgaG9zdCBvZiB0aGUgZW52aXJvbm1lbnQ6IHdoYXQgd2FzIG9wZW5lZCB0aGVyZSBpcyB1c2VkIG5vd2hlcmUgZWxzZS4gKi9cbiAgcmVhZG9ubHkgaG9zdDogc3RyaW5nO1xuICByZWFkb25seSBob21lOiBzdHJpbmc7XG4gIHJlYWRvbmx5IHJvb206IChuYW1lOiBzdHJpbmcpID0+IFNlc3Npb25Sb29tO1xuICAvKiogVG9sZCBvZiBldmVyeSB0b2tlbi4gKi9cbiAgcmVhZG9ubHkgb25TZWNyZXQ6ICh2YWx1ZTogVmFsdWUpID0+IHZvaWQ7XG4gIHJlYWRvbmx5IG9uT3BlbmVkOiAobmFtZTogc3RyaW5nKSA9PiB2b2lkO1xuICByZWFkb25seSBvbkNsb3NlZDogKG5hbWU6IHN0cmluZykgPT4gdm9pZDtcbn1cblxuLyoqIFdoeSBhIHNlc3Npb24gaXMgb3BlbmVkOiBpdCBpcyBuZWVkZWQsIHRoZSBvbmUgdGhhdCBpcyBvcGVuIHdhcyByZWZ1c2VkLCBvciBhIHBlcnNvbiB3YW50cyBpdCBhbmV3LiAqL1xudHlwZSBSZWFzb24gPSAnbmVlZGVkJyB8ICd3YW50ZWQnIHwgeyByZWFkb25seSByZWZ1c2VkOiBPcGVuU2Vzc2lvbiB9O1xuXG5leHBvcnQgZnVuY3Rpb24gb3BlblNlc3Npb25zKHNldHRpbmdzOiBTZXNzaW9uc1NldHRpbmdzKTogU2Vzc2lvbnMge1xuICBjb25zdCB7IGNvbGxlY3Rpb24sIGVudmlyb25tZW50LCBob3N0LCBob21lLCByb29tLCBvblNlY3JldCwgb25PcGVuZWQsIG9uQ2xvc2VkIH0gPSBzZXR0aW5ncztcbiAgY29uc3QgcGF0aCA9IGpvaW4oY29sbGVjdGlvbi5sb2NhbCwgJ3Nlc3Npb25zLnNlYWxlZCcpO1xuICBjb25zdCBmaWxlID0gc2VhbGVkRmlsZTxSZWNvcmQ8c3RyaW5nLCBPcGVuU2Vzc2lvbj4+KHBhdGgsIGhvbWUsIHt9KTtcbiAgY29uc3Qga2V5T2YgPSAobmFtZTogc3RyaW5nKTogc3RyaW5nID0+IGAke2Vudmlyb25tZW50fSAke2hvc3R9ICR7bmFtZX1gO1xuICBjb25zdCBpbk1lbW9yeSA9IG5ldyBNYXA8c3RyaW5nLCBPcGVuU2Vzc2lvbj4oKTtcbiAgY29uc3Qgb3BlbmluZyA9IG5ldyBNYXA8c3RyaW5nLCBQcm9taXNlPE9wZW5TZXNzaW9uPj4oKTtcbiAgY29uc3Qgb3BlbmVkSGVyZTogc3RyaW5nW10gPSBbXTtcbiAgbGV0IHN0b3JlZDogUHJvbWlzZTxSZWNvcmQ8c3RyaW5nLCBPcGVuU2Vzc2lvbj4+IHwgdW5kZWZpbmVkO1xuXG4gIGNvbnN0IGtpbmRPZiA9IChuYW1lOiBzdHJpbmcpOiB7IGtpbmQ6IFNlc3Npb25LaW5kOyBmdWxsOiBzdHJpbmc7IGNvbnRlbnQ6IFNlc3Npb25GaWxlIH0gPT4ge1xuICAgIGNvbnN0IGxvYWRlZCA9IGNvbGxlY3Rpb24ucmVhZCgnc2Vzc2lvbicsIG5hbWUpO1xuICAgIGNvbnN0IGtpbmQgPSBzZXNzaW9uS2luZHMuZ2V0KGxvYWRlZC5jb250ZW50LmtpbmQpO1xuICAgIGlmICgha2luZCkgdGhyb3cgbmV3IFByb2JsZW0oJ3Nlc3Npb24tbWlzc2luZycsIHsgd2hhdDogYHRoZXJlIGlzIG5vIGtpbmQgb2Ygc2Vzc2lvbiAke2xvYWRlZC5jb250ZW50LmtpbmR9YCB9KTtcbiAgICByZXR1cm4geyBraW5kLCBmdWxsOiBsb2FkZWQubmFtZSwgY29udGVudDogbG9hZGVkLmNvbnRlbnQgfTtcbiAgfTtcblxuICBjb25zdCB0ZWxsID0gKHsgdG9rZW4sIHJlZnJlc2gsIGtlcHQgfTogT3BlblNlc3Npb24pOiB2b2lkID0+IHtcbiAgICBpZiAodG9rZW4gIT09ICcnKSBvblNlY3JldCh0b2tlbik7XG4gICAgaWYgKHJlZnJlc2ggIT09IHVuZGVmaW5lZCkgb25TZWNyZXQocmVmcmVzaCk7XG4gICAgZm9yIChjb25zdCBbbmFtZSwgdmFsdWVdIG9mIE9iamVjdC5lbnRyaWVzKGtlcHQgPz8ge30pKSBpZiAoaXNTZWNyZXROYW1lKG5hbWUpKSBvblNlY3JldCh2YWx1ZSk7XG4gIH07XG5cbiAgLyoqIFVuZGVyIHRoZSBsb2NrIG9mIHRoZSBzdG9yZS4gKi9cbiAgYXN5bmMgZnVuY3Rpb24gc3RvcmVDaGFuZ2UoY2hhbmdlOiAoc2Vzc2lvbnM6IFJlY29yZDxzdHJpbmcsIE9wZW5TZXNzaW9uPikgPT4gdm9pZCk6IFByb21pc2U8dm9pZD4ge1xuICAgIGNvbnN0IHNlc3Npb25zID0geyAuLi4oYXdhaXQgZmlsZS5yZWFkKCkpIH07XG4gICAgY2hhbmdlKHNlc3Npb25zKTtcbiAgICBhd2FpdCBmaWxlLndyaXRlKHNlc3Npb25zKTtcbiAgICBzdG9yZWQgPSBQcm9taXNlLnJlc29sdmUoc2Vzc2lvbnMpO1xuICB9XG5cbiAgYXN5bmMgZnVuY3Rpb24ga25vd24oZnVsbDogc3RyaW5nKTogUHJvbWlzZTxPcGVuU2Vzc2lvbiB8IHVuZGVmaW5lZD4ge1xuICAgIGNvbnN0IGJlZm9yZSA9IGluTWVtb3J5LmdldChmdWxsKTtcbiAgICBpZiAoYmVmb3JlKSByZXR1cm4gYmVmb3JlO1xuICAgIHN0b3JlZCA/Pz0gZmlsZS5yZWFkKCk7XG4gICAgY29uc3Qgc2Vzc2lvbiA9IChhd2FpdCBzdG9yZWQpW2tleU9mKGZ1bGwpXTtcbiAgICBpZiAoIXNlc3Npb24pIHJldHVybiB1bmRlZmluZWQ7XG4gICAgdGVsbChzZXNzaW9uKTtcbiAgICBpbk1lbW9yeS5zZXQoZnVsbCwgc2Vzc2lvbik7XG4gICAgcmV0dXJuIHNlc3Npb247XG4gIH1cblxuICBjb25zdCBnb29kID0gKHsgZXhwaXJlcyB9OiBPcGVuU2Vzc2lvbik6IGJvb2xlYW4gPT4gZXhwaXJlcyA9PT0gdW5kZWZpbmVkIHx8IGV4cGlyZXMgPiBEYXRlLm5vdygpICsgbWFyZ2luO1xuXG4gIC8qKiBPbmUgcHJvY2VzcyBhdCBhIHRpbWU7IHdobyBoYWQgdG8gd2FpdCBmaW5kcyB3aGF0IHRoZSBvdGhlciBoYXMgb3BlbmVkLiAqL1xuICBjb25zdCBvcGVuZWRBbG9uZSA9IChcbiAgICB7IGtpbmQsIGZ1bGwsIGNvbnRlbnQgfTogUmV0dXJuVHlwZTx0eXBlb2Yga2luZE9mPixcbiAgICBvcGVuOiBOb25OdWxsYWJsZTxTZXNzaW9uS2luZFsnb3BlbiddPixcbiAgICByZWFzb246IFJlYXNvbixcbiAgKTogUHJvbWlzZTxPcGVuU2Vzc2lvbj4gPT5cbiAgICBhbG9uZShgJHtwYXRofS4ke2Z1bGwucmVwbGFjZUFsbCgnLycsICctJyl9YCwgYXN5bmMgKCkgPT4ge1xuICAgICAgY29uc3QgYmVmb3JlID0gKGF3YWl0IGZpbGUucmVhZCgpKVtrZXlPZihmdWxsKV07XG4gICAgICBjb25zdCBhbm90aGVyID1cbiAgICAgICAgYmVmb3JlICYmXG4gICAgICAgIGdvb2QoYmVmb3JlKSAmJlxuICAgICAgICAocmVhc29uID09PSAnbmVlZGVkJyB8fCAocmVhc29uICE9PSAnd2FudGVkJyAmJiBiZWZvcmUudG9rZW4gIT09IHJlYXNvbi5yZWZ1c2VkLnRva2VuKSk7XG4gICAgICBpZiAoYW5vdGhlcikge1xuICAgICAgICB0ZWxsKGJlZm9yZSk7XG4gICAgICAgIGluTWVtb3J5LnNldChmdWxsLCBiZWZvcmUpO1xuICAgICAgICByZXR1cm4gYmVmb3JlO1xuICAgICAgfVxuICAgICAgY29uc3Qgc2Vzc2lvbiA9IGF3YWl0IG9wZW4uY2FsbChraW5kLCBjb250ZW50LCByb29tKGZ1bGwpLCByZWFzb24gPT09ICd3YW50ZWQnID8gdW5kZWZpbmVkIDogYmVmb3JlKTtcbiAgICAgIHRlbGwoc2Vzc2lvbik7XG4gICAgICBvbk9wZW5lZChmdWxsKTtcbiAgICAgIGluTWVtb3J5LnNldChmdWxsLCBzZXNzaW9uKTtcbiAgICAgIGlmICghb3BlbmVkSGVyZS5pbmNsdWRlcyhmdWxsKSkgb3BlbmVkSGVyZS51bnNoaWZ0KGZ1bGwpO1xuICAgICAgYXdhaXQgYWxvbmUocGF0aCwgKCkgPT5cbiAgICAgICAgc3RvcmVDaGFuZ2UoKHNlc3Npb25zKSA9PiB7XG4gICAgICAgICAgc2Vzc2lvbnNba2V5T2YoZnVsbCldID0gc2Vzc2lvbjtcbiAgICAgICAgfSksXG4gICAgICApO1xuICAgICAgcmV0dXJuIHNlc3Npb247XG4gICAgfSk7XG5cbiAgYXN5bmMgZnVuY3Rpb24gZW5zdXJlKGdpdmVuOiBzdHJpbmcsIHJlYXNvbjogUmVhc29uID0gJ25lZWRlZCcpOiBQcm9taXNlPE9wZW5TZXNzaW9uIHwgdW5kZWZpbmVkPiB7XG4gICAgY29uc3QgZm91bmQgPSBraW5kT2YoZ2l2ZW4pO1xuICAgIGNvbnN0IHsga2luZCwgZnVsbCB9ID0gZm91bmQ7XG4gICAgaWYgKCFraW5kLm9wZW4pIHJldHVybiB1bmRlZmluZWQ7XG4gICAgaWYgKHJlYXNvbiA9PT0gJ25lZWRlZCcpIHtcbiAgICAgIGNvbnN0IGJlZm9yZSA9IGF3YWl0IGtub3duKGZ1bGwpO1xuICAgICAgaWYgKGJlZm9yZSAmJiBnb29kKGJlZm9yZSkpIHJldHVybiBiZWZvcmU7XG4gICAgfVxuICAgIGxldCB3b3JrID0gb3BlbmluZy5nZXQoZnVsbCk7XG4gICAgaWYgKCF3b3JrKSB7XG4gICAgICB3b3JrID0gb3BlbmVkQWxvbmUoZm91bmQsIGtpbmQub3BlbiwgcmVhc29uKTtcbiAgICAgIG9wZW5pbmcuc2V0KGZ1bGwsIHdvcmspO1xuICAgICAgY29uc3QgZG9uZSA9ICgpOiB2b2lkID0+IHtcbiAgICAgICAgb3BlbmluZy5kZWxldGUoZnVsbCk7XG4gICAgICB9O1xuICAgICAgd29yay50aGVuKGRvbmUsIGRvbmUpO1xuICAgIH1cbiAgICByZXR1cm4gd29yaztcbiAgfVxuXG4gIGFzeW5jIGZ1bmN0aW9uIGZhY3RzKG5hbWU6IHN0cmluZyk6IFByb21pc2U8U2Vzc2lvbkZhY3RzPiB7XG4gICAgY29uc3QgeyBjb250ZW50LCBmdWxsLCBraW5kIH0gPSBraW5kT2YobmFtZSk7XG4gICAgY29uc3Qgb3BlbiA9IGF3YWl0IGtub3duKGZ1bGwpO1xuICAgIHJldHVybiB7XG4gICAgICBuYW1lOiBmdWxsLFxuICAgICAga2luZDogY29udGVudC5raW5kLFxuICAgICAgYWJvdXQ6IGNvbnRlbnQuYWJvdXQsXG4gICAgICBvcGVuczoga2luZC5vcGVuICE9PSB1bmRlZmluZWQsXG4gICAgICBvcGVuOiBvcGVuICE9PSB1bmRlZmluZWQsXG4gICAgICBvcGVuZWQ6IG9wZW4/Lm9wZW5lZCxcbiAgICAgIGV4cGlyZXM6IG9wZW4/LmV4cGlyZXMsXG4gICAgICByZW5ld2FibGU6IG9wZW4/LnJlZnJlc2ggIT09IHVuZGVmaW5lZCxcbiAgICAgIGNsYWltczogb3BlbiAmJiBjbGFpbXNPZihvcGVuLnRva2VuKSxcbiAgICB9O1xuICB9XG5cbiAgcmV0dXJuIHtcbiAgICBvcGVuZWQ6IG9wZW5lZEhlcmUsXG4gICAgb3Blbk9mOiAobmFtZSwgb3BlbnMpID0+IChvcGVucyA/IGVuc3VyZShuYW1lKSA6IGtub3duKGtpbmRPZihuYW1lKS5mdWxsKSksXG4gICAgb3BlbmluZzogKG5hbWVzKSA9PlxuICAgICAgbmFtZXMuZmxhdE1hcCgobmFtZSkgPT4ge1xuICAgICAgICBjb25zdCB7IGtpbmQsIGZ1bGwgfSA9IGtpbmRPZihuYW1lKTtcbiAgICAgICAgcmV0dXJuIGtpbmQub3BlbiA/IFtmdWxsXSA6IFtdO1xuICAgICAgfSksXG4gICAgYXN5bmMgYXR0YWNoKG5hbWVzLCBjYWxsKSB7XG4gICAgICBjb25zdCBsaW5lczogSGVhZGVyTGluZVtdID0gW107XG4gICAgICBjb25zdCBxdWVyeTogUXVlcnlQYWlyW10gPSBbXTtcbiAgICAgIGNvbnN0IGZ1bGxzOiBzdHJpbmdbXSA9IFtdO1xuICAgICAgY29uc3QgdG9rZW5zOiB7IG5hbWU6IHN0cmluZzsgc2Vzc2lvbjogT3BlblNlc3Npb24gfVtdID0gW107XG4gICAgICBsZXQgaWRlbnRpdHk6IFRsc0lkZW50aXR5IHwgdW5kZWZpbmVkO1xuICAgICAgbGV0IG9wZW5lZE5vdyA9IGZhbHNlO1xuICAgICAgZm9yIChjb25zdCBuYW1lIG9mIG5hbWVzKSB7XG4gICAgICAgIGNvbnN0IHsga2luZCwgZnVsbCwgY29udGVudCB9ID0ga2luZE9mKG5hbWUpO1xuICAgICAgICBjb25zdCBiZWZvcmUgPSBpbk1lbW9yeS5nZXQoZnVsbCkgPz8gKGF3YWl0IGtub3duKGZ1bGwpKTtcbiAgICAgICAgY29uc3Qgc2Vzc2lvbiA9IGF3YWl0IGVuc3VyZShuYW1lKTtcbiAgICAgICAgaWYgKHNlc3Npb24pIHtcbiAgICAgICAgICB0b2tlbnMucHVzaCh7IG5hbWU6IGZ1bGwsIHNlc3Npb24gfSk7XG4gICAgICAgICAgb3BlbmVkTm93IHx8PSBzZXNzaW9uICE9PSBiZWZvcmU7XG4gICAgICAgIH1cbiAgICAgICAgZnVsbHMucHVzaChmdWxsKTtcbiAgICAgICAgZm9yIChjb25zdCBsaW5lIG9mIChhd2FpdCBraW5kLmxpbmVzPy4oY29udGVudCwgcm9vbShmdWxsKSwgc2Vzc2lvbiwgY2FsbCkpID8/IFtdKSB7XG4gICAgICAgICAgb25TZWNyZXQobGluZS52YWx1ZSk7XG4gICAgICAgICAgbGluZXMucHVzaChsaW5lKTtcbiAgICAgICAgfVxuICAgICAgICBmb3IgKGNvbnN0IHBhaXIgb2YgKGF3YWl0IGtpbmQucXVlcnk/Lihjb250ZW50LCByb29tKGZ1bGwpKSkgPz8gW10pIHtcbiAgICAgICAgICBvblNlY3JldChwYWlyLnZhbHVlKTtcbiAgICAgICAgICBxdWVyeS5wdXNoKHBhaXIpO1xuICAgICAgICB9XG4gICAgICAgIGlkZW50aXR5ID0gKGF3YWl0IGtpbmQuaWRlbnRpdHk/Lihjb250ZW50LCByb29tKGZ1bGwpKSkgPz8gaWRlbnRpdHk7XG4gICAgICB9XG4gICAgICByZXR1cm4geyBsaW5lcywgcXVlcnksIGlkZW50aXR5LCBob3N0OiBjYWxsLmhvc3QsIG5hbWVzOiBmdWxscywgdG9rZW5zLCBvcGVuZWROb3cgfTtcbiAgICB9LFxuICAgIGFzeW5jIHBlZWsobmFtZXMpIHtcbiAgICAgIGNvbnN0IGxpbmVzOiBIZWFkZXJMaW5lW10gPSBbXTtcbiAgICAgIGNvbnN0IHF1ZXJ5OiBRdWVyeVBhaXJbXSA9IFtdO1xuICAgICAgY29uc3Qgbm90T3Blbjogc3RyaW5nW10gPSBbXTtcbiAgICAgIGZvciAoY29uc3QgbmFtZSBvZiBuYW1lcykge1xuICAgICAgICBjb25zdCB7IGtpbmQsIGZ1bGwsIGNvbnRlbnQgfSA9IGtpbmRPZihuYW1lKTtcbiAgICAgICAgY29uc3Qgc2Vzc2lvbiA9IGtpbmQub3BlbiA/IGF3YWl0IGtub3duKGZ1bGwpIDogdW5kZWZpbmVkO1xuICAgICAgICBpZiAoa2luZC5vcGVuICYmICFzZXNzaW9uKSBub3RPcGVuLnB1c2goZnVsbCk7XG4gICAgICAgIGxpbmVzLnB1c2goLi4uKChhd2FpdCBraW5kLmxpbmVzPy4oY29udGVudCwgcm9vbShmdWxsKSwgc2Vzc2lvbiwgdW5kZWZpbmVkKSkgPz8gW10pKTtcbiAgICAgICAgcXVlcnkucHVzaCguLi4oKGF3YWl0IGtpbmQucXVlcnk/Lihjb250ZW50LCByb29tKGZ1bGwpKSkgPz8gW10pKTtcbiAgICAgIH1cbiAgICAgIHJldHVybiB7IGxpbmVzLCBxdWVyeSwgbm90T3BlbiB9O1xuICAgIH0sXG4gICAgaGVhcmQoeyBuYW1lcywgbGluZXMsIGhvc3Q6IHNlcnZlciB9LCBzdGF0dXMsIGhlYWRlcnMpIHtcbiAgICAgIGxldCBhZ2FpbiA9IGZhbHNlO1xuICAgICAgZm9yIChjb25zdCBuYW1lIG9mIG5hbWVzKSB7XG4gICAgICAgIGNvbnN0IHsga2luZCwgZnVsbCB9ID0ga2luZE9mKG5hbWUpO1xuICAgICAgICBjb25zdCBwcm92ZWQgPSBsaW5lcy5zb21lKCh7IG9yaWdpbiB9KSA9PiBvcmlnaW4gPT09IGBzZXNzaW9uICR7ZnVsbH1gKTtcbiAgICAgICAgaWYgKHN0YXR1cyAhPT0gNDAxKSBraW5kLmFuc3dlcmVkPy4ocm9vbShmdWxsKSwgc2VydmVyLCBoZWFkZXJzKTtcbiAgICAgICAgZWxzZSBpZiAoa2luZC5jaGFsbGVuZ2VkPy4ocm9vbShmdWxsKSwgc2VydmVyLCBoZWFkZXJzLCBwcm92ZWQpKSBhZ2FpbiA9IHRydWU7XG4gICAgICB9XG4gICAgICByZXR1cm4gYWdhaW47XG4gICAgfSxcbiAgICBhc3luYyByZW5ldyh7IHRva2Vucywgb3BlbmVkTm93IH0pIHtcbiAgICAgIGlmIChvcGVuZWROb3cgfHwgdG9rZW5zLmxlbmd0aCA9PT0gMCkgcmV0dXJuIGZhbHNlO1xuICAgICAgZm9yIChjb25zdCB7IG5hbWUsIHNlc3Npb24gfSBvZiB0b2tlbnMpIHtcbiAgICAgICAgLy8gV2hvZXZlciBjb21lcyBmaXJzdCByZW5ld3M7IHRoZSBvdGhlcnMgZmluZCB0aGF0IHRoZSB0b2tlbiB0aGV5IHVzZWQgaXMgbm90IHRoZSBwcmVzZW50IG9uZS5cbiAgICAgICAgaWYgKGluTWVtb3J5LmdldChuYW1lKSA9PT0gc2Vzc2lvbikgYXdhaXQgZW5zdXJlKG5hbWUsIHsgcmVmdXNlZDogc2Vzc2lvbiB9KTtcbiAgICAgIH1cbiAgICAgIHJldHVybiB0cnVlO1xuICAgIH0sXG4gICAgYXN5bmMgb3BlbihuYW1lKSB7XG4gICAgICBhd2FpdCBlbnN1cmUobmFtZSwgJ3dhbnRlZCcpO1xuICAgICAgcmV0dXJuIGZhY3RzKG5hbWUpO1xuICAgIH0sXG4gICAgYXN5bmMgY2xvc2UobmFtZSkge1xuICAgICAgY29uc3QgeyBraW5kLCBmdWxsLCBjb250ZW50IH0gPSBraW5kT2YobmFtZSk7XG4gICAgICBjb25zdCBvcGVuID0gYXdhaXQga25vd24oZnVsbCk7XG4gICAgICBpZiAoIW9wZW4pIHJldHVybiBmYWxzZTtcbiAgICAgIHRyeSB7XG4gICAgICAgIGF3YWl0IGtpbmQuY2xvc2U/Lihjb250ZW50LCByb29tKGZ1bGwpLCBvcGVuKTtcbiAgICAgIH0gZmluYWxseSB7XG4gICAgICAgIGluTWVtb3J5LmRlbGV0ZShmdWxsKTtcbiAgICAgICAgb25DbG9zZWQoZnVsbCk7XG4gICAgICAgIGNvbnN0IGF0ID0gb3BlbmVkSGVyZS5pbmRleE9mKGZ1bGwpO1xuICAgICAgICBpZiAoYXQgIT09IC0xKSBvcGVuZWRIZXJlLnNwbGljZShhdCwgMSk7XG4gICAgICAgIGF3YWl0IGFsb25lKHBhdGgsICgpID0+XG4gICAgICAgICAgc3RvcmVDaGFuZ2UoKHNlc3Npb25zKSA9PiB7XG4gICAgICAgICAgICBkZWxldGUgc2Vzc2lvbnNba2V5T2YoZnVsbCldO1xuICAgICAgICAgIH0pLFxuICAgICAgICApO1xuICAgICAgfVxuICAgICAgcmV0dXJuIHRydWU7XG4gICAgfSxcbiAgICBsaXN0OiAoKSA9PiBQcm9taXNlLmFsbChjb2xsZWN0aW9uLm5hbWVzKCdzZXNzaW9uJykubWFwKGZhY3RzKSksXG4gIH07XG59XG4iLCAiLyoqIFdvcmsgdGhhdCBvbmUgcHJvY2VzcyBhdCBhIHRpbWUgbWF5IGRvLCBieSBhIHdlbGwta25vd24gbGlicmFyeTogYSBsb2NrIGJlc2lkZSBhIGZpbGUuICovXG5pbXBvcnQgeyBta2RpciB9IGZyb20gJ25vZGU6ZnMvcHJvbWlzZXMnO1xuaW1wb3J0IHsgZGlybmFtZSB9IGZyb20gJ25vZGU6cGF0aCc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcblxuLyoqIEEgbG9jayB3aG9zZSBob2xkZXIgaGFzIG5vdCB0b3VjaGVkIGl0IGZvciBzbyBsb25nIGlzIG9mIGEgcHJvY2VzcyB0aGF0IGlzIGdvbmUuICovXG5jb25zdCBzdGFsZSA9IDE1XzAwMDtcbi8qKiBTb21lYm9keSBtYXkgaGF2ZSB0byBsb2cgaW4gYnkgaGFuZCBmaXJzdC4gKi9cbmNvbnN0IHBhdGllbmNlID0geyByZXRyaWVzOiA0XzAwMCwgZmFjdG9yOiAxLjIsIG1pblRpbWVvdXQ6IDIwLCBtYXhUaW1lb3V0OiAyNTAgfTtcblxuLyoqIEBwYXJhbSBwYXRoIG9mIHdoYXQgaXMgd29ya2VkIG9uOyBpdCBuZWVkIG5vdCBleGlzdCBAdGhyb3dzIFByb2JsZW0gZmlsZS11bnJlYWRhYmxlOiBubyBsb2NrIGNhbiBiZSBtYWRlIHRoZXJlICovXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gYWxvbmU8VD4ocGF0aDogc3RyaW5nLCB3b3JrOiAoKSA9PiBQcm9taXNlPFQ+KTogUHJvbWlzZTxUPiB7XG4gIGNvbnN0IHsgZGVmYXVsdDogbG9ja3MgfSA9IGF3YWl0IGltcG9ydCgncHJvcGVyLWxvY2tmaWxlJyk7XG4gIGF3YWl0IG1rZGlyKGRpcm5hbWUocGF0aCksIHsgcmVjdXJzaXZlOiB0cnVlIH0pO1xuICBsZXQgcmVsZWFzZTogKCkgPT4gUHJvbWlzZTx2b2lkPjtcbiAgdHJ5IHtcbiAgICByZWxlYXNlID0gYXdhaXQgbG9ja3MubG9jayhwYXRoLCB7IHJlYWxwYXRoOiBmYWxzZSwgc3RhbGUsIHJldHJpZXM6IHBhdGllbmNlIH0pO1xuICB9IGNhdGNoIChlcnJvcikge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKFxuICAgICAgJ2ZpbGUtdW5yZWFkYWJsZScsXG4gICAgICB7XG4gICAgICAgIHdoYXQ6IGBubyBsb2NrIGNhbiBiZSBoYWQgYXQgJHtwYXRofS5sb2NrYCxcbiAgICAgICAgY2F1c2U6IChlcnJvciBhcyBFcnJvcikubWVzc2FnZSxcbiAgICAgICAgcmVtZWR5OiAnYW5vdGhlciBwcm9jZXNzIGhvbGRzIGl0OyB3aGVyZSBub25lIHJ1bnMsIHJlbW92ZSB0aGUgZm9sZGVyJyxcbiAgICAgIH0sXG4gICAgICB7IGNhdXNlOiBlcnJvciB9LFxuICAgICk7XG4gIH1cbiAgdHJ5IHtcbiAgICByZXR1cm4gYXdhaXQgd29yaygpO1xuICB9IGZpbmFsbHkge1xuICAgIGF3YWl0IHJlbGVhc2UoKS5jYXRjaCgoKSA9PiB1bmRlZmluZWQpO1xuICB9XG59XG4iLCAiLyoqIEhvdyBmYXIgdGhlIGNsb2NrcyBvZiBzZXJ2ZXJzIGFyZSBmcm9tIHRoaXMgb25lLCBieSB0aGUgYERhdGVgIG9mIHRoZWlyIGFuc3dlcnMgKFJGQyA5MTEwLCBzZWN0aW9uIDYuNi4xKS4gKi9cbmltcG9ydCB7IGV4aXN0c1N5bmMsIHJlYWRGaWxlU3luYyB9IGZyb20gJ25vZGU6ZnMnO1xuaW1wb3J0IHsgam9pbiB9IGZyb20gJ25vZGU6cGF0aCc7XG5pbXBvcnQgKiBhcyB6IGZyb20gJ3pvZC9taW5pJztcbmltcG9ydCB0eXBlIHsgUmVjZWl2ZWQgfSBmcm9tICcuLi9leGNoYW5nZS9yZWNlaXZlZC5qcyc7XG5pbXBvcnQgeyBoZWFkZXJWYWx1ZSB9IGZyb20gJy4uL3BsYWNlL29ic2VydmVkLmpzJztcbmltcG9ydCB7IHdyaXRlQXRvbWljYWxseSB9IGZyb20gJy4uL3N0b3JhZ2UvYXRvbWljLXdyaXRlLmpzJztcblxuLyoqIGBEYXRlYCBoYXMgd2hvbGUgc2Vjb25kczogbGVzcyB0aGFuIHRoaXMgaXMgbm8gZGlmZmVyZW5jZS4gTWlsbGlzZWNvbmRzLiAqL1xuY29uc3QgbGVhc3REaWZmZXJlbmNlID0gMjAwMDtcblxuY29uc3QgY2xvY2tzRmlsZSA9IHoucmVjb3JkKHouc3RyaW5nKCksIHoubnVtYmVyKCkpO1xuXG5leHBvcnQgaW50ZXJmYWNlIENsb2NrcyB7XG4gIC8qKiBIb3cgbWFueSBtaWxsaXNlY29uZHMgdGhlIHNlcnZlciBpcyBhaGVhZCBvZiB1czsgMCB3aGVyZSBub3RoaW5nIGlzIGtub3duLiAqL1xuICBhaGVhZChob3N0OiBzdHJpbmcpOiBudW1iZXI7XG4gIC8qKiBUb2xkIG9mIGVhY2ggYW5zd2VyLiBAcGFyYW0gc2VudEF0IHdoZW4gdGhlIHJlcXVlc3QgbGVmdCwgaW4gbWlsbGlzZWNvbmRzIHNpbmNlIDE5NzAgKi9cbiAgaGVhcmQoaG9zdDogc3RyaW5nLCByZWNlaXZlZDogUmVjZWl2ZWQsIHNlbnRBdDogbnVtYmVyKTogdm9pZDtcbiAgLyoqIEtlZXBzIGZvciB0aGUgbmV4dCBjb21tYW5kIHdoYXQgd2FzIG1lYXN1cmVkLiAqL1xuICBjbG9zZSgpOiBQcm9taXNlPHZvaWQ+O1xufVxuXG4vKiogQHBhcmFtIGxvY2FsIHRoZSBjb2xsZWN0aW9uJ3MgbG9jYWwgc3RhdGUgKi9cbmV4cG9ydCBmdW5jdGlvbiBzZXJ2ZXJDbG9ja3MobG9jYWw6IHN0cmluZyk6IENsb2NrcyB7XG4gIGNvbnN0IHBhdGggPSBqb2luKGxvY2FsLCAnY2xvY2tzLmpzb24nKTtcbiAgY29uc3Qga25vd24gPSBuZXcgTWFwKE9iamVjdC5lbnRyaWVzKHJlYWRDbG9ja3MocGF0aCkpKTtcbiAgbGV0IGNoYW5nZWQgPSBmYWxzZTtcbiAgLy8gVGhlIHNhbWUgdGV4dCBmb3IgYSBzZWNvbmQ6IGEgcnVuIG9mIHRob3VzYW5kcyByZWFkcyBpdCBvbmNlLlxuICBsZXQgW2xhc3RUZXh0LCBsYXN0RGF0ZV0gPSBbJycsIE51bWJlci5OYU5dO1xuICByZXR1cm4ge1xuICAgIGFoZWFkOiAoaG9zdCkgPT4ga25vd24uZ2V0KGhvc3QpID8/IDAsXG4gICAgaGVhcmQoaG9zdCwgcmVjZWl2ZWQsIHNlbnRBdCkge1xuICAgICAgY29uc3QgdGV4dCA9IGhlYWRlclZhbHVlKHJlY2VpdmVkLmhlYWRlcnMsICdkYXRlJykgPz8gJyc7XG4gICAgICBpZiAodGV4dCAhPT0gbGFzdFRleHQpIFtsYXN0VGV4dCwgbGFzdERhdGVdID0gW3RleHQsIERhdGUucGFyc2UodGV4dCldO1xuICAgICAgY29uc3QgZGF0ZSA9IGxhc3REYXRlO1xuICAgICAgaWYgKE51bWJlci5pc05hTihkYXRlKSkgcmV0dXJuO1xuICAgICAgY29uc3QgYW5zd2VyZWRBdCA9IHNlbnRBdCArIHJlY2VpdmVkLnBhcnRzLnBoYXNlcy50b3RhbCAtIHJlY2VpdmVkLnBhcnRzLnBoYXNlcy5yZWNlaXZpbmc7XG4gICAgICAvLyBUaGUgc2Vjb25kIHRoYXQgdGhlIHNlcnZlciBuYW1lcyBoYWQgYmVndW46IGhhbGYgb2YgaXQgb24gdGhlIGF2ZXJhZ2UgaGFzIHBhc3NlZC5cbiAgICAgIGNvbnN0IGRpZmZlcmVuY2UgPSBNYXRoLnJvdW5kKGRhdGUgKyA1MDAgLSAoc2VudEF0ICsgYW5zd2VyZWRBdCkgLyAyKTtcbiAgICAgIGNvbnN0IG93biA9IE1hdGguYWJzKGRpZmZlcmVuY2UpIDwgbGVhc3REaWZmZXJlbmNlID8gMCA6IGRpZmZlcmVuY2U7XG4gICAgICBpZiAoTWF0aC5hYnMob3duIC0gKGtub3duLmdldChob3N0KSA/PyAwKSkgPCBsZWFzdERpZmZlcmVuY2UpIHJldHVybjtcbiAgICAgIGtub3duLnNldChob3N0LCBvd24pO1xuICAgICAgY2hhbmdlZCA9IHRydWU7XG4gICAgfSxcbiAgICBhc3luYyBjbG9zZSgpIHtcbiAgICAgIGlmIChjaGFuZ2VkKSBhd2FpdCB3cml0ZUF0b21pY2FsbHkocGF0aCwgYCR7SlNPTi5zdHJpbmdpZnkoT2JqZWN0LmZyb21FbnRyaWVzKGtub3duKSl9XFxuYCk7XG4gICAgfSxcbiAgfTtcbn1cblxuLyoqIEEgZmlsZSB0aGF0IGNhbm5vdCBiZSByZWFkIGlzIG1lYXN1cmVkIGFuZXcuICovXG5mdW5jdGlvbiByZWFkQ2xvY2tzKHBhdGg6IHN0cmluZyk6IFJlY29yZDxzdHJpbmcsIG51bWJlcj4ge1xuICBpZiAoIWV4aXN0c1N5bmMocGF0aCkpIHJldHVybiB7fTtcbiAgdHJ5IHtcbiAgICByZXR1cm4gY2xvY2tzRmlsZS5wYXJzZShKU09OLnBhcnNlKHJlYWRGaWxlU3luYyhwYXRoLCAndXRmOCcpKSk7XG4gIH0gY2F0Y2gge1xuICAgIHJldHVybiB7fTtcbiAgfVxufVxuIiwgIi8qKiBXaGF0IGEga2luZCBvZiBzZXNzaW9uIG1heSBhc2sgZm9yOiBpdHMgcmVxdWVzdHMgc2VudCwgaXRzIHRyYWlscyB3YWxrZWQsIGl0cyB2YWx1ZXMgd29ya2VkIG91dC4gKi9cbmltcG9ydCB7IHZhcmlhYmxlTmFtZXMgfSBmcm9tICcuLi9jb2xsZWN0aW9uL2xheWVycy5qcyc7XG5pbXBvcnQgeyB0bHNJZGVudGl0eSB9IGZyb20gJy4uL2V4Y2hhbmdlL2Nvbm5lY3Rpb24uanMnO1xuaW1wb3J0IHR5cGUgeyBMb2FkcyB9IGZyb20gJy4uL2V4cHJlc3Npb24vY29tcGlsZS5qcyc7XG5pbXBvcnQgeyBFdmFsdWF0aW9uLCBvbWl0dGVkIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi9ldmFsdWF0aW9uLmpzJztcbmltcG9ydCB7IGxheWVyZWQsIG5hbWVzRnJvbSwgbm9OYW1lcyB9IGZyb20gJy4uL2V4cHJlc3Npb24vbmFtZXMuanMnO1xuaW1wb3J0IHsgY29tcGlsZVRyZWUgfSBmcm9tICcuLi9leHByZXNzaW9uL3RyZWUuanMnO1xuaW1wb3J0IHR5cGUgeyBQZXJzb24sIFNlc3Npb25Sb29tIH0gZnJvbSAnLi4vc2Vzc2lvbi9zZXNzaW9uLWtpbmQuanMnO1xuaW1wb3J0IHsgcGF0aEluc2lkZSB9IGZyb20gJy4uL3N0b3JhZ2UvaW5zaWRlLmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUgfSBmcm9tICcuLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB0eXBlIHsgV29ya3NwYWNlIH0gZnJvbSAnLi93b3Jrc3BhY2UuanMnO1xuXG4vKiogQHBhcmFtIHBlcnNvbiB3aG8gY2FuIGFncmVlIHRvIHRoZSBzZXNzaW9uOyB1bmRlZmluZWQgd2hlcmUgbm9ib2R5IGlzIHRoZXJlICovXG5leHBvcnQgZnVuY3Rpb24gc2Vzc2lvblJvb20od29ya3NwYWNlOiBXb3Jrc3BhY2UsIG5hbWU6IHN0cmluZywgcGVyc29uOiBQZXJzb24gfCB1bmRlZmluZWQpOiBTZXNzaW9uUm9vbSB7XG4gIGNvbnN0IHsgeWFtbCB9ID0gd29ya3NwYWNlLmNvbGxlY3Rpb24ucmVhZCgnc2Vzc2lvbicsIG5hbWUpO1xuICByZXR1cm4ge1xuICAgIG5hbWUsXG4gICAgeWFtbCxcbiAgICBtZW1vcnk6IHdvcmtzcGFjZS5zZXNzaW9uTWVtb3J5LFxuICAgIHBlcnNvbixcbiAgICBvblNlY3JldDogd29ya3NwYWNlLnJlZGFjdG9yLmFkZCxcbiAgICAvLyBMb2FkZWQgd2hlbiBhIHNlc3Npb24gaXMgb3BlbmVkOiBtb3N0IGNvbW1hbmRzIGZpbmQgb25lIHRoYXQgaXMgb3Blbi5cbiAgICBjYWxsOiBhc3luYyAocmVxdWVzdCwgZ2l2ZSwgc2Vzc2lvbnMpID0+XG4gICAgICAoYXdhaXQgaW1wb3J0KCcuL3Nlc3Npb24tY2FsbC5qcycpKS5zZW5kRm9yU2Vzc2lvbih3b3Jrc3BhY2UsIHsgbmFtZSwgeWFtbCwgcmVxdWVzdCwgZ2l2ZSwgc2Vzc2lvbnMgfSksXG4gICAgd2FsazogYXN5bmMgKHRyYWlsLCBnaXZlKSA9PlxuICAgICAgKGF3YWl0IGltcG9ydCgnLi9zZXNzaW9uLWNhbGwuanMnKSkud2Fsa0ZvclNlc3Npb24od29ya3NwYWNlLCB7IG5hbWUsIHlhbWwsIHRyYWlsLCBnaXZlIH0pLFxuICAgIGZldGNoOiBhc3luYyAoY2FsbCkgPT4gKGF3YWl0IGltcG9ydCgnLi9wcm90b2NvbC1jYWxsLmpzJykpLnNlbmRQcm90b2NvbENhbGwod29ya3NwYWNlLCBuYW1lLCBjYWxsKSxcbiAgICBpZGVudGl0eTogKGdpdmVuKSA9PiB0bHNJZGVudGl0eShnaXZlbiwgKG5hbWVkKSA9PiBwYXRoSW5zaWRlKHdvcmtzcGFjZS5jb2xsZWN0aW9uLnJvb3QsIG5hbWVkKSksXG4gICAgYXN5bmMgZXZhbHVhdGUodmFsdWU6IFZhbHVlLCBwYXRoLCBvd24pIHtcbiAgICAgIGNvbnN0IGxvYWRzOiBMb2FkcyA9IFtdO1xuICAgICAgY29uc3QgdHJlZSA9IGNvbXBpbGVUcmVlKHZhbHVlLCAoaW5uZXIpID0+IHlhbWwucG9zaXRpb24oWy4uLnBhdGgsIC4uLmlubmVyXSksIGxvYWRzKTtcbiAgICAgIGF3YWl0IFByb21pc2UuYWxsKGxvYWRzKTtcbiAgICAgIGNvbnN0IHN1cnJvdW5kaW5ncyA9IHsgd29ybGQ6IHdvcmtzcGFjZS53b3JsZCgpLCBvblNlY3JldDogd29ya3NwYWNlLnJlZGFjdG9yLmFkZCB9O1xuICAgICAgY29uc3QgbmFtZXMgPSBsYXllcmVkKG5hbWVzRnJvbShvd24sIGBzZXNzaW9uICR7bmFtZX1gKSwgdmFyaWFibGVOYW1lcyh3b3Jrc3BhY2UubGF5ZXJzLCBub05hbWVzLCBzdXJyb3VuZGluZ3MpKTtcbiAgICAgIGNvbnN0IGV2YWx1YXRpb24gPSBuZXcgRXZhbHVhdGlvbihuYW1lcywgc3Vycm91bmRpbmdzKTtcbiAgICAgIGNvbnN0IHJlc3VsdCA9IHRyZWUuZXZhbHVhdGUoZXZhbHVhdGlvbik7XG4gICAgICBpZiAoZXZhbHVhdGlvbi50b3VjaGVkU2VjcmV0ICYmIHJlc3VsdCAhPT0gb21pdHRlZCkgd29ya3NwYWNlLnJlZGFjdG9yLmFkZChyZXN1bHQpO1xuICAgICAgcmV0dXJuIHJlc3VsdDtcbiAgICB9LFxuICB9O1xufVxuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7OztBQUNBLFNBQVMsZ0JBQUFBLHFCQUFvQjs7O0FDQTdCLFNBQVMsbUJBQW1CO0FBQzVCLFNBQVMsT0FBTyxpQkFBaUI7QUFDakMsU0FBUyxZQUFZO0FBb0JkLFNBQVMsWUFBWSxPQUFlLFNBQXdCO0FBQ2pFLFFBQU0sTUFBTSxVQUFVO0FBQ3RCLFFBQU0sU0FBUyxLQUFLLE9BQU8sUUFBUTtBQUNuQyxRQUFNLE9BQU8sS0FBSyxRQUFRLEdBQUcsUUFBUSxZQUFZLEVBQUUsUUFBUSxlQUFlLEVBQUUsQ0FBQyxJQUFJLEdBQUcsUUFBUTtBQUM1RixNQUFJLFFBQVE7QUFDWixNQUFJLFFBQWtCLENBQUM7QUFDdkIsTUFBSSxPQUFPO0FBQ1gsTUFBSTtBQUNKLFFBQU0sU0FBMEIsQ0FBQztBQUNqQyxRQUFNLE1BQU0sUUFBUSxNQUFNLE1BQU07QUFDOUIsVUFBTSxRQUFRLE1BQU0sS0FBSyxFQUFFO0FBQzNCLFlBQVEsQ0FBQztBQUNULFdBQU87QUFDUCxXQUFPO0FBQUEsRUFDVCxDQUFDO0FBRUQsU0FBTztBQUFBLElBQ0w7QUFBQSxJQUNBLFFBQVEsTUFBTTtBQUNaLGVBQVM7QUFDVCxhQUFPLEdBQUcsR0FBRyxJQUFJLEtBQUs7QUFBQSxJQUN4QjtBQUFBLElBQ0EsT0FBTyxNQUFNO0FBQ1gsWUFBTSxPQUFPLEdBQUcsS0FBSyxVQUFVLElBQUksQ0FBQztBQUFBO0FBQ3BDLFlBQU0sS0FBSyxJQUFJO0FBQ2YsY0FBUSxLQUFLO0FBQ2IsVUFBSSxLQUFLO0FBQUEsSUFDWDtBQUFBLElBQ0EsT0FBTyxJQUFJLFdBQVcsU0FBUztBQUM3QixVQUFJLFFBQVEsU0FBUyxjQUFlLFFBQU87QUFDM0MsWUFBTSxPQUFPLFVBQVUsR0FBRyxJQUFJLEdBQUcsTUFBTSxJQUFJLFNBQVMsQ0FBQyxDQUFDLElBQUksU0FBUztBQUNuRSxhQUFPO0FBQUEsUUFDTCxNQUFNLEtBQUssUUFBUSxVQUFVLEdBQUcsR0FBRyxFQUFFLFdBQVcsTUFBTSxNQUFNLElBQU0sQ0FBQyxFQUNoRSxLQUFLLE1BQU0sVUFBVSxLQUFLLFFBQVEsSUFBSSxHQUFHLFNBQVMsRUFBRSxNQUFNLElBQU0sQ0FBQyxDQUFDLEVBQ2xFLE1BQU0sQ0FBQyxVQUFtQjtBQUN6QixzQkFBWTtBQUFBLFFBQ2QsQ0FBQztBQUFBLE1BQ0w7QUFDQSxhQUFPO0FBQUEsSUFDVDtBQUFBLElBQ0EsSUFBSSxVQUFVO0FBQ1osYUFBTztBQUFBLElBQ1Q7QUFBQSxJQUNBLE1BQU0sVUFBVTtBQUNkLFlBQU0sSUFBSSxRQUFRO0FBQ2xCLFlBQU0sUUFBUSxJQUFJLE1BQU07QUFBQSxJQUMxQjtBQUFBLElBQ0EsTUFBTSxRQUFRO0FBQ1osWUFBTSxJQUFJLE1BQU07QUFDaEIsWUFBTSxRQUFRLElBQUksTUFBTTtBQUN4QixVQUFJLFlBQVksT0FBVyxPQUFNO0FBQUEsSUFDbkM7QUFBQSxFQUNGO0FBQ0Y7QUFHQSxJQUFNLGdCQUFnQjtBQUd0QixTQUFTLFlBQW9CO0FBQzNCLFFBQU0sVUFBVTtBQUNoQixRQUFNLE9BQU8sR0FBRyxPQUFPO0FBQ3ZCLFNBQU8sQ0FBQyxHQUFHLFlBQVksQ0FBQyxDQUFDLEVBQ3RCLElBQUksQ0FBQyxNQUFNLFVBQVcsVUFBVSxJQUFJLFFBQVEsT0FBTyxRQUFRLE1BQU0sSUFBSSxLQUFLLE9BQU8sS0FBSyxNQUFNLENBQUUsRUFDOUYsS0FBSyxFQUFFO0FBQ1o7OztBQ3ZGQSxTQUFTLG9CQUFvQjtBQVE3QixJQUFNLFVBQVU7QUFHVCxTQUFTLGlCQUFpQixNQUErQjtBQUM5RCxRQUFNLFFBQVEsb0JBQUksSUFBc0I7QUFDeEMsTUFBSSxRQUFRO0FBQ1osU0FBTyxDQUFDLE1BQU0sZUFBZTtBQUMzQixRQUFJLE9BQU8sTUFBTSxJQUFJLElBQUk7QUFDekIsUUFBSSxDQUFDLE1BQU07QUFFVCxhQUFPLG9CQUFvQixhQUFhLFdBQVcsTUFBTSxJQUFJLEdBQUcsTUFBTSxFQUFFLFFBQVEsV0FBVyxFQUFFLEdBQUcsTUFBTSxDQUFDLENBQUM7QUFDeEcsWUFBTSxJQUFJLE1BQU0sSUFBSTtBQUFBLElBQ3RCO0FBQ0EsUUFBSSxTQUFTO0FBQ1gsWUFBTSxJQUFJLFFBQVEsb0JBQW9CLEVBQUUsTUFBTSxnQkFBZ0IsSUFBSSxtQkFBbUIsT0FBTyxFQUFFLE1BQU0sS0FBSyxFQUFFLENBQUM7QUFDOUcsYUFBUztBQUNULFFBQUk7QUFDRixZQUFNLE9BQU8sS0FBSyxVQUFVO0FBQzVCLFVBQUksTUFBTSxPQUFRLFlBQVcsZ0JBQWdCO0FBQzdDLGFBQU8sT0FBTyxPQUFPLEtBQUssS0FBSyxLQUFLLEVBQUUsU0FBUyxNQUFNLElBQUk7QUFBQSxJQUMzRCxVQUFFO0FBQ0EsZUFBUztBQUFBLElBQ1g7QUFBQSxFQUNGO0FBQ0Y7OztBQzdCQSxTQUFTLGtCQUFrQjtBQUMzQixTQUFTLFFBQUFDLGFBQVk7QUEwQmQsU0FBUyxXQUNkLE9BQ0EsTUFDQSxhQUNBLFVBQ1k7QUFDWixRQUFNLE9BQU9DLE1BQUssT0FBTyxXQUFXLEdBQUcsWUFBWSxXQUFXLEtBQUssR0FBRyxDQUFDLFNBQVM7QUFDaEYsUUFBTSxPQUFPLFdBQW1CLE1BQU0sTUFBTSxDQUFDLENBQUM7QUFDOUMsUUFBTSxPQUFPLG9CQUFJLElBQXVCO0FBQ3hDLE1BQUksU0FBc0MsV0FBVyxJQUFJLElBQUksU0FBWSxRQUFRLFFBQVEsQ0FBQyxDQUFDO0FBQzNGLE1BQUksVUFBVTtBQUVkLFFBQU0sUUFBUSxPQUFPLFNBQWlEO0FBQ3BFLGVBQVcsS0FBSyxLQUFLO0FBQ3JCLFVBQU0sUUFBUSxLQUFLLElBQUksSUFBSTtBQUMzQixRQUFJLE1BQU8sUUFBTztBQUNsQixVQUFNLFVBQVUsTUFBTSxRQUFRLElBQUk7QUFDbEMsUUFBSSxDQUFDLE9BQVEsUUFBTztBQUNwQixVQUFNLEVBQUUsV0FBVyxJQUFJLElBQUksTUFBTSxPQUFPLGNBQWM7QUFDdEQsVUFBTSxNQUFNLElBQUksZ0JBQWdCLE1BQU07QUFDdEMsZUFBVyxFQUFFLE1BQU0sS0FBSyxPQUFPLFdBQVcsQ0FBQyxFQUFHLEtBQUksT0FBTyxVQUFVLFNBQVUsVUFBUyxLQUFLO0FBQzNGLFNBQUssSUFBSSxNQUFNLEdBQUc7QUFDbEIsV0FBTztBQUFBLEVBQ1Q7QUFFQSxRQUFNLFNBQVMsb0JBQUksSUFBcUI7QUFFeEMsUUFBTSxPQUFPLE9BQU8sU0FBbUM7QUFDckQsUUFBSSxNQUFNLE1BQU0sTUFBTSxJQUFJO0FBQzFCLFVBQU0sTUFBZTtBQUFBLE1BQ25CLEtBQUssS0FBSztBQUNSLGNBQU0sUUFBUSxLQUFLLG9CQUFvQixJQUFJLElBQUksS0FBSztBQUNwRCxlQUFPLFVBQVUsS0FBSyxTQUFZLEVBQUUsTUFBTSxVQUFVLE9BQU8sUUFBUSxXQUFXLFFBQVEsS0FBSztBQUFBLE1BQzdGO0FBQUEsTUFDQSxNQUFNLEtBQUssS0FBSyxTQUFTO0FBQ3ZCLGNBQU0sUUFBUSxRQUFRLE9BQU8sQ0FBQyxDQUFDLEdBQUcsTUFBTSxJQUFJLFlBQVksTUFBTSxZQUFZO0FBQzFFLFlBQUksTUFBTSxXQUFXLEVBQUcsUUFBTyxDQUFDO0FBQ2hDLGNBQU0sRUFBRSxXQUFXLEtBQUssT0FBTyxJQUFJLE1BQU0sT0FBTyxjQUFjO0FBQzlELGdCQUFRLEtBQUssSUFBSSxJQUFJLEtBQUssSUFBSSxJQUFJLFFBQVcsRUFBRSxXQUFXLEtBQUssQ0FBQztBQUNoRSxhQUFLLElBQUksTUFBTSxHQUFHO0FBQ2xCLGNBQU0sUUFBa0IsQ0FBQztBQUN6QixtQkFBVyxDQUFDLEVBQUUsSUFBSSxLQUFLLE9BQU87QUFDNUIsZ0JBQU0sU0FBUyxPQUFPLE1BQU0sTUFBTSxFQUFFLE9BQU8sS0FBSyxDQUFDO0FBQ2pELGNBQUksQ0FBQyxPQUFRO0FBQ2IsbUJBQVMsT0FBTyxLQUFLO0FBRXJCLGNBQUksSUFBSSxjQUFjLFFBQVEsSUFBSSxNQUFNLEVBQUUsYUFBYSxLQUFLLENBQUMsRUFBRyxPQUFNLEtBQUssT0FBTyxHQUFHO0FBQUEsUUFDdkY7QUFDQSxrQkFBVTtBQUNWLGVBQU87QUFBQSxNQUNUO0FBQUEsSUFDRjtBQUNBLFdBQU8sSUFBSSxNQUFNLEdBQUc7QUFDcEIsV0FBTztBQUFBLEVBQ1Q7QUFFQSxTQUFPO0FBQUE7QUFBQSxJQUVMLEtBQUssVUFBVTtBQUNiLFlBQU0sT0FBTyxTQUFTLFNBQVMsSUFBSSxDQUFDLEdBQUcsUUFBUSxFQUFFLEtBQUssRUFBRSxLQUFLLEdBQUcsSUFBSyxTQUFTLENBQUMsS0FBSztBQUNwRixhQUFPLE9BQU8sSUFBSSxJQUFJLEtBQUssS0FBSyxJQUFJO0FBQUEsSUFDdEM7QUFBQSxJQUNBLE1BQU0sUUFBUTtBQUNaLFVBQUksQ0FBQyxRQUFTO0FBQ2QsWUFBTSxNQUFNLE9BQU8sWUFBWSxDQUFDLEdBQUcsSUFBSSxFQUFFLElBQUksQ0FBQyxDQUFDLE1BQU0sR0FBRyxNQUFNLENBQUMsTUFBTSxJQUFJLGNBQWMsQ0FBQyxDQUFDLENBQUM7QUFDMUYsWUFBTSxLQUFLLE1BQU0sRUFBRSxHQUFJLE1BQU0sUUFBUyxHQUFHLElBQUksQ0FBVztBQUN4RCxnQkFBVTtBQUFBLElBQ1o7QUFBQSxJQUNBLE9BQU8sU0FBUztBQUNkLFdBQUssT0FBTyxPQUFPO0FBQ25CLGFBQU8sT0FBTyxPQUFPO0FBQ3JCLGdCQUFVLFVBQVUsS0FBSyxLQUFLLEdBQUcsS0FBSyxDQUFDLEVBQUUsQ0FBQyxVQUFVLEdBQUcsR0FBRyxPQUFPLE1BQU0sTUFBTTtBQUM3RSxnQkFBVTtBQUFBLElBQ1o7QUFBQSxJQUNBLE1BQU0sUUFBUTtBQUNaLFdBQUssTUFBTTtBQUNYLGFBQU8sTUFBTTtBQUNiLGdCQUFVO0FBQ1YsZUFBUyxRQUFRLFFBQVEsQ0FBQyxDQUFDO0FBQzNCLFVBQUksV0FBVyxJQUFJLEVBQUcsT0FBTSxLQUFLLE1BQU0sQ0FBQyxDQUFDO0FBQUEsSUFDM0M7QUFBQSxFQUNGO0FBQ0Y7OztBQ2hIQSxTQUFTLFFBQUFDLGFBQVk7OztBQ0FyQixTQUFTLFNBQUFDLGNBQWE7QUFDdEIsU0FBUyxlQUFlO0FBSXhCLElBQU0sUUFBUTtBQUVkLElBQU0sV0FBVyxFQUFFLFNBQVMsS0FBTyxRQUFRLEtBQUssWUFBWSxJQUFJLFlBQVksSUFBSTtBQUdoRixlQUFzQixNQUFTLE1BQWMsTUFBb0M7QUFDL0UsUUFBTSxFQUFFLFNBQVMsTUFBTSxJQUFJLE1BQU0sT0FBTyxpQkFBaUI7QUFDekQsUUFBTUMsT0FBTSxRQUFRLElBQUksR0FBRyxFQUFFLFdBQVcsS0FBSyxDQUFDO0FBQzlDLE1BQUk7QUFDSixNQUFJO0FBQ0YsY0FBVSxNQUFNLE1BQU0sS0FBSyxNQUFNLEVBQUUsVUFBVSxPQUFPLE9BQU8sU0FBUyxTQUFTLENBQUM7QUFBQSxFQUNoRixTQUFTLE9BQU87QUFDZCxVQUFNLElBQUk7QUFBQSxNQUNSO0FBQUEsTUFDQTtBQUFBLFFBQ0UsTUFBTSx5QkFBeUIsSUFBSTtBQUFBLFFBQ25DLE9BQVEsTUFBZ0I7QUFBQSxRQUN4QixRQUFRO0FBQUEsTUFDVjtBQUFBLE1BQ0EsRUFBRSxPQUFPLE1BQU07QUFBQSxJQUNqQjtBQUFBLEVBQ0Y7QUFDQSxNQUFJO0FBQ0YsV0FBTyxNQUFNLEtBQUs7QUFBQSxFQUNwQixVQUFFO0FBQ0EsVUFBTSxRQUFRLEVBQUUsTUFBTSxNQUFNLE1BQVM7QUFBQSxFQUN2QztBQUNGOzs7QURoQkEsSUFBTSxTQUFTO0FBMkVSLFNBQVMsYUFBYSxVQUFzQztBQUNqRSxRQUFNLEVBQUUsWUFBWSxhQUFhLE1BQU0sTUFBTSxNQUFNLFVBQVUsVUFBVSxTQUFTLElBQUk7QUFDcEYsUUFBTSxPQUFPQyxNQUFLLFdBQVcsT0FBTyxpQkFBaUI7QUFDckQsUUFBTSxPQUFPLFdBQXdDLE1BQU0sTUFBTSxDQUFDLENBQUM7QUFDbkUsUUFBTSxRQUFRLENBQUMsU0FBeUIsR0FBRyxXQUFXLElBQUksSUFBSSxJQUFJLElBQUk7QUFDdEUsUUFBTSxXQUFXLG9CQUFJLElBQXlCO0FBQzlDLFFBQU0sVUFBVSxvQkFBSSxJQUFrQztBQUN0RCxRQUFNLGFBQXVCLENBQUM7QUFDOUIsTUFBSTtBQUVKLFFBQU0sU0FBUyxDQUFDLFNBQTRFO0FBQzFGLFVBQU0sU0FBUyxXQUFXLEtBQUssV0FBVyxJQUFJO0FBQzlDLFVBQU0sT0FBTyxhQUFhLElBQUksT0FBTyxRQUFRLElBQUk7QUFDakQsUUFBSSxDQUFDLEtBQU0sT0FBTSxJQUFJLFFBQVEsbUJBQW1CLEVBQUUsTUFBTSwrQkFBK0IsT0FBTyxRQUFRLElBQUksR0FBRyxDQUFDO0FBQzlHLFdBQU8sRUFBRSxNQUFNLE1BQU0sT0FBTyxNQUFNLFNBQVMsT0FBTyxRQUFRO0FBQUEsRUFDNUQ7QUFFQSxRQUFNLE9BQU8sQ0FBQyxFQUFFLE9BQU8sU0FBUyxLQUFLLE1BQXlCO0FBQzVELFFBQUksVUFBVSxHQUFJLFVBQVMsS0FBSztBQUNoQyxRQUFJLFlBQVksT0FBVyxVQUFTLE9BQU87QUFDM0MsZUFBVyxDQUFDLE1BQU0sS0FBSyxLQUFLLE9BQU8sUUFBUSxRQUFRLENBQUMsQ0FBQyxFQUFHLEtBQUksYUFBYSxJQUFJLEVBQUcsVUFBUyxLQUFLO0FBQUEsRUFDaEc7QUFHQSxpQkFBZSxZQUFZLFFBQXdFO0FBQ2pHLFVBQU0sV0FBVyxFQUFFLEdBQUksTUFBTSxLQUFLLEtBQUssRUFBRztBQUMxQyxXQUFPLFFBQVE7QUFDZixVQUFNLEtBQUssTUFBTSxRQUFRO0FBQ3pCLGFBQVMsUUFBUSxRQUFRLFFBQVE7QUFBQSxFQUNuQztBQUVBLGlCQUFlLE1BQU0sTUFBZ0Q7QUFDbkUsVUFBTSxTQUFTLFNBQVMsSUFBSSxJQUFJO0FBQ2hDLFFBQUksT0FBUSxRQUFPO0FBQ25CLGVBQVcsS0FBSyxLQUFLO0FBQ3JCLFVBQU0sV0FBVyxNQUFNLFFBQVEsTUFBTSxJQUFJLENBQUM7QUFDMUMsUUFBSSxDQUFDLFFBQVMsUUFBTztBQUNyQixTQUFLLE9BQU87QUFDWixhQUFTLElBQUksTUFBTSxPQUFPO0FBQzFCLFdBQU87QUFBQSxFQUNUO0FBRUEsUUFBTSxPQUFPLENBQUMsRUFBRSxRQUFRLE1BQTRCLFlBQVksVUFBYSxVQUFVLEtBQUssSUFBSSxJQUFJO0FBR3BHLFFBQU0sY0FBYyxDQUNsQixFQUFFLE1BQU0sTUFBTSxRQUFRLEdBQ3RCLE1BQ0EsV0FFQSxNQUFNLEdBQUcsSUFBSSxJQUFJLEtBQUssV0FBVyxLQUFLLEdBQUcsQ0FBQyxJQUFJLFlBQVk7QUFDeEQsVUFBTSxVQUFVLE1BQU0sS0FBSyxLQUFLLEdBQUcsTUFBTSxJQUFJLENBQUM7QUFDOUMsVUFBTSxVQUNKLFVBQ0EsS0FBSyxNQUFNLE1BQ1YsV0FBVyxZQUFhLFdBQVcsWUFBWSxPQUFPLFVBQVUsT0FBTyxRQUFRO0FBQ2xGLFFBQUksU0FBUztBQUNYLFdBQUssTUFBTTtBQUNYLGVBQVMsSUFBSSxNQUFNLE1BQU07QUFDekIsYUFBTztBQUFBLElBQ1Q7QUFDQSxVQUFNLFVBQVUsTUFBTSxLQUFLLEtBQUssTUFBTSxTQUFTLEtBQUssSUFBSSxHQUFHLFdBQVcsV0FBVyxTQUFZLE1BQU07QUFDbkcsU0FBSyxPQUFPO0FBQ1osYUFBUyxJQUFJO0FBQ2IsYUFBUyxJQUFJLE1BQU0sT0FBTztBQUMxQixRQUFJLENBQUMsV0FBVyxTQUFTLElBQUksRUFBRyxZQUFXLFFBQVEsSUFBSTtBQUN2RCxVQUFNO0FBQUEsTUFBTTtBQUFBLE1BQU0sTUFDaEIsWUFBWSxDQUFDLGFBQWE7QUFDeEIsaUJBQVMsTUFBTSxJQUFJLENBQUMsSUFBSTtBQUFBLE1BQzFCLENBQUM7QUFBQSxJQUNIO0FBQ0EsV0FBTztBQUFBLEVBQ1QsQ0FBQztBQUVILGlCQUFlLE9BQU8sT0FBZSxTQUFpQixVQUE0QztBQUNoRyxVQUFNLFFBQVEsT0FBTyxLQUFLO0FBQzFCLFVBQU0sRUFBRSxNQUFNLEtBQUssSUFBSTtBQUN2QixRQUFJLENBQUMsS0FBSyxLQUFNLFFBQU87QUFDdkIsUUFBSSxXQUFXLFVBQVU7QUFDdkIsWUFBTSxTQUFTLE1BQU0sTUFBTSxJQUFJO0FBQy9CLFVBQUksVUFBVSxLQUFLLE1BQU0sRUFBRyxRQUFPO0FBQUEsSUFDckM7QUFDQSxRQUFJLE9BQU8sUUFBUSxJQUFJLElBQUk7QUFDM0IsUUFBSSxDQUFDLE1BQU07QUFDVCxhQUFPLFlBQVksT0FBTyxLQUFLLE1BQU0sTUFBTTtBQUMzQyxjQUFRLElBQUksTUFBTSxJQUFJO0FBQ3RCLFlBQU0sT0FBTyxNQUFZO0FBQ3ZCLGdCQUFRLE9BQU8sSUFBSTtBQUFBLE1BQ3JCO0FBQ0EsV0FBSyxLQUFLLE1BQU0sSUFBSTtBQUFBLElBQ3RCO0FBQ0EsV0FBTztBQUFBLEVBQ1Q7QUFFQSxpQkFBZSxNQUFNLE1BQXFDO0FBQ3hELFVBQU0sRUFBRSxTQUFTLE1BQU0sS0FBSyxJQUFJLE9BQU8sSUFBSTtBQUMzQyxVQUFNLE9BQU8sTUFBTSxNQUFNLElBQUk7QUFDN0IsV0FBTztBQUFBLE1BQ0wsTUFBTTtBQUFBLE1BQ04sTUFBTSxRQUFRO0FBQUEsTUFDZCxPQUFPLFFBQVE7QUFBQSxNQUNmLE9BQU8sS0FBSyxTQUFTO0FBQUEsTUFDckIsTUFBTSxTQUFTO0FBQUEsTUFDZixRQUFRLE1BQU07QUFBQSxNQUNkLFNBQVMsTUFBTTtBQUFBLE1BQ2YsV0FBVyxNQUFNLFlBQVk7QUFBQSxNQUM3QixRQUFRLFFBQVEsU0FBUyxLQUFLLEtBQUs7QUFBQSxJQUNyQztBQUFBLEVBQ0Y7QUFFQSxTQUFPO0FBQUEsSUFDTCxRQUFRO0FBQUEsSUFDUixRQUFRLENBQUMsTUFBTSxVQUFXLFFBQVEsT0FBTyxJQUFJLElBQUksTUFBTSxPQUFPLElBQUksRUFBRSxJQUFJO0FBQUEsSUFDeEUsU0FBUyxDQUFDLFVBQ1IsTUFBTSxRQUFRLENBQUMsU0FBUztBQUN0QixZQUFNLEVBQUUsTUFBTSxLQUFLLElBQUksT0FBTyxJQUFJO0FBQ2xDLGFBQU8sS0FBSyxPQUFPLENBQUMsSUFBSSxJQUFJLENBQUM7QUFBQSxJQUMvQixDQUFDO0FBQUEsSUFDSCxNQUFNLE9BQU8sT0FBTyxNQUFNO0FBQ3hCLFlBQU0sUUFBc0IsQ0FBQztBQUM3QixZQUFNLFFBQXFCLENBQUM7QUFDNUIsWUFBTSxRQUFrQixDQUFDO0FBQ3pCLFlBQU0sU0FBbUQsQ0FBQztBQUMxRCxVQUFJO0FBQ0osVUFBSSxZQUFZO0FBQ2hCLGlCQUFXLFFBQVEsT0FBTztBQUN4QixjQUFNLEVBQUUsTUFBTSxNQUFNLFFBQVEsSUFBSSxPQUFPLElBQUk7QUFDM0MsY0FBTSxTQUFTLFNBQVMsSUFBSSxJQUFJLEtBQU0sTUFBTSxNQUFNLElBQUk7QUFDdEQsY0FBTSxVQUFVLE1BQU0sT0FBTyxJQUFJO0FBQ2pDLFlBQUksU0FBUztBQUNYLGlCQUFPLEtBQUssRUFBRSxNQUFNLE1BQU0sUUFBUSxDQUFDO0FBQ25DLHdCQUFjLFlBQVk7QUFBQSxRQUM1QjtBQUNBLGNBQU0sS0FBSyxJQUFJO0FBQ2YsbUJBQVcsUUFBUyxNQUFNLEtBQUssUUFBUSxTQUFTLEtBQUssSUFBSSxHQUFHLFNBQVMsSUFBSSxLQUFNLENBQUMsR0FBRztBQUNqRixtQkFBUyxLQUFLLEtBQUs7QUFDbkIsZ0JBQU0sS0FBSyxJQUFJO0FBQUEsUUFDakI7QUFDQSxtQkFBVyxRQUFTLE1BQU0sS0FBSyxRQUFRLFNBQVMsS0FBSyxJQUFJLENBQUMsS0FBTSxDQUFDLEdBQUc7QUFDbEUsbUJBQVMsS0FBSyxLQUFLO0FBQ25CLGdCQUFNLEtBQUssSUFBSTtBQUFBLFFBQ2pCO0FBQ0EsbUJBQVksTUFBTSxLQUFLLFdBQVcsU0FBUyxLQUFLLElBQUksQ0FBQyxLQUFNO0FBQUEsTUFDN0Q7QUFDQSxhQUFPLEVBQUUsT0FBTyxPQUFPLFVBQVUsTUFBTSxLQUFLLE1BQU0sT0FBTyxPQUFPLFFBQVEsVUFBVTtBQUFBLElBQ3BGO0FBQUEsSUFDQSxNQUFNLEtBQUssT0FBTztBQUNoQixZQUFNLFFBQXNCLENBQUM7QUFDN0IsWUFBTSxRQUFxQixDQUFDO0FBQzVCLFlBQU0sVUFBb0IsQ0FBQztBQUMzQixpQkFBVyxRQUFRLE9BQU87QUFDeEIsY0FBTSxFQUFFLE1BQU0sTUFBTSxRQUFRLElBQUksT0FBTyxJQUFJO0FBQzNDLGNBQU0sVUFBVSxLQUFLLE9BQU8sTUFBTSxNQUFNLElBQUksSUFBSTtBQUNoRCxZQUFJLEtBQUssUUFBUSxDQUFDLFFBQVMsU0FBUSxLQUFLLElBQUk7QUFDNUMsY0FBTSxLQUFLLEdBQUssTUFBTSxLQUFLLFFBQVEsU0FBUyxLQUFLLElBQUksR0FBRyxTQUFTLE1BQVMsS0FBTSxDQUFDLENBQUU7QUFDbkYsY0FBTSxLQUFLLEdBQUssTUFBTSxLQUFLLFFBQVEsU0FBUyxLQUFLLElBQUksQ0FBQyxLQUFNLENBQUMsQ0FBRTtBQUFBLE1BQ2pFO0FBQ0EsYUFBTyxFQUFFLE9BQU8sT0FBTyxRQUFRO0FBQUEsSUFDakM7QUFBQSxJQUNBLE1BQU0sRUFBRSxPQUFPLE9BQU8sTUFBTSxPQUFPLEdBQUcsUUFBUSxTQUFTO0FBQ3JELFVBQUksUUFBUTtBQUNaLGlCQUFXLFFBQVEsT0FBTztBQUN4QixjQUFNLEVBQUUsTUFBTSxLQUFLLElBQUksT0FBTyxJQUFJO0FBQ2xDLGNBQU0sU0FBUyxNQUFNLEtBQUssQ0FBQyxFQUFFLE9BQU8sTUFBTSxXQUFXLFdBQVcsSUFBSSxFQUFFO0FBQ3RFLFlBQUksV0FBVyxJQUFLLE1BQUssV0FBVyxLQUFLLElBQUksR0FBRyxRQUFRLE9BQU87QUFBQSxpQkFDdEQsS0FBSyxhQUFhLEtBQUssSUFBSSxHQUFHLFFBQVEsU0FBUyxNQUFNLEVBQUcsU0FBUTtBQUFBLE1BQzNFO0FBQ0EsYUFBTztBQUFBLElBQ1Q7QUFBQSxJQUNBLE1BQU0sTUFBTSxFQUFFLFFBQVEsVUFBVSxHQUFHO0FBQ2pDLFVBQUksYUFBYSxPQUFPLFdBQVcsRUFBRyxRQUFPO0FBQzdDLGlCQUFXLEVBQUUsTUFBTSxRQUFRLEtBQUssUUFBUTtBQUV0QyxZQUFJLFNBQVMsSUFBSSxJQUFJLE1BQU0sUUFBUyxPQUFNLE9BQU8sTUFBTSxFQUFFLFNBQVMsUUFBUSxDQUFDO0FBQUEsTUFDN0U7QUFDQSxhQUFPO0FBQUEsSUFDVDtBQUFBLElBQ0EsTUFBTSxLQUFLLE1BQU07QUFDZixZQUFNLE9BQU8sTUFBTSxRQUFRO0FBQzNCLGFBQU8sTUFBTSxJQUFJO0FBQUEsSUFDbkI7QUFBQSxJQUNBLE1BQU0sTUFBTSxNQUFNO0FBQ2hCLFlBQU0sRUFBRSxNQUFNLE1BQU0sUUFBUSxJQUFJLE9BQU8sSUFBSTtBQUMzQyxZQUFNLE9BQU8sTUFBTSxNQUFNLElBQUk7QUFDN0IsVUFBSSxDQUFDLEtBQU0sUUFBTztBQUNsQixVQUFJO0FBQ0YsY0FBTSxLQUFLLFFBQVEsU0FBUyxLQUFLLElBQUksR0FBRyxJQUFJO0FBQUEsTUFDOUMsVUFBRTtBQUNBLGlCQUFTLE9BQU8sSUFBSTtBQUNwQixpQkFBUyxJQUFJO0FBQ2IsY0FBTSxLQUFLLFdBQVcsUUFBUSxJQUFJO0FBQ2xDLFlBQUksT0FBTyxHQUFJLFlBQVcsT0FBTyxJQUFJLENBQUM7QUFDdEMsY0FBTTtBQUFBLFVBQU07QUFBQSxVQUFNLE1BQ2hCLFlBQVksQ0FBQyxhQUFhO0FBQ3hCLG1CQUFPLFNBQVMsTUFBTSxJQUFJLENBQUM7QUFBQSxVQUM3QixDQUFDO0FBQUEsUUFDSDtBQUFBLE1BQ0Y7QUFDQSxhQUFPO0FBQUEsSUFDVDtBQUFBLElBQ0EsTUFBTSxNQUFNLFFBQVEsSUFBSSxXQUFXLE1BQU0sU0FBUyxFQUFFLElBQUksS0FBSyxDQUFDO0FBQUEsRUFDaEU7QUFDRjs7O0FFclNBLFNBQVMsY0FBQUMsYUFBWSxnQkFBQUMscUJBQW9CO0FBQ3pDLFNBQVMsUUFBQUMsYUFBWTtBQUNyQixZQUFZLE9BQU87QUFNbkIsSUFBTSxrQkFBa0I7QUFFeEIsSUFBTSxhQUFlLFNBQVMsU0FBTyxHQUFLLFNBQU8sQ0FBQztBQVkzQyxTQUFTLGFBQWEsT0FBdUI7QUFDbEQsUUFBTSxPQUFPQyxNQUFLLE9BQU8sYUFBYTtBQUN0QyxRQUFNLFFBQVEsSUFBSSxJQUFJLE9BQU8sUUFBUSxXQUFXLElBQUksQ0FBQyxDQUFDO0FBQ3RELE1BQUksVUFBVTtBQUVkLE1BQUksQ0FBQyxVQUFVLFFBQVEsSUFBSSxDQUFDLElBQUksT0FBTyxHQUFHO0FBQzFDLFNBQU87QUFBQSxJQUNMLE9BQU8sQ0FBQyxTQUFTLE1BQU0sSUFBSSxJQUFJLEtBQUs7QUFBQSxJQUNwQyxNQUFNLE1BQU0sVUFBVSxRQUFRO0FBQzVCLFlBQU0sT0FBTyxZQUFZLFNBQVMsU0FBUyxNQUFNLEtBQUs7QUFDdEQsVUFBSSxTQUFTLFNBQVUsRUFBQyxVQUFVLFFBQVEsSUFBSSxDQUFDLE1BQU0sS0FBSyxNQUFNLElBQUksQ0FBQztBQUNyRSxZQUFNLE9BQU87QUFDYixVQUFJLE9BQU8sTUFBTSxJQUFJLEVBQUc7QUFDeEIsWUFBTSxhQUFhLFNBQVMsU0FBUyxNQUFNLE9BQU8sUUFBUSxTQUFTLE1BQU0sT0FBTztBQUVoRixZQUFNLGFBQWEsS0FBSyxNQUFNLE9BQU8sT0FBTyxTQUFTLGNBQWMsQ0FBQztBQUNwRSxZQUFNLE1BQU0sS0FBSyxJQUFJLFVBQVUsSUFBSSxrQkFBa0IsSUFBSTtBQUN6RCxVQUFJLEtBQUssSUFBSSxPQUFPLE1BQU0sSUFBSSxJQUFJLEtBQUssRUFBRSxJQUFJLGdCQUFpQjtBQUM5RCxZQUFNLElBQUksTUFBTSxHQUFHO0FBQ25CLGdCQUFVO0FBQUEsSUFDWjtBQUFBLElBQ0EsTUFBTSxRQUFRO0FBQ1osVUFBSSxRQUFTLE9BQU0sZ0JBQWdCLE1BQU0sR0FBRyxLQUFLLFVBQVUsT0FBTyxZQUFZLEtBQUssQ0FBQyxDQUFDO0FBQUEsQ0FBSTtBQUFBLElBQzNGO0FBQUEsRUFDRjtBQUNGO0FBR0EsU0FBUyxXQUFXLE1BQXNDO0FBQ3hELE1BQUksQ0FBQ0MsWUFBVyxJQUFJLEVBQUcsUUFBTyxDQUFDO0FBQy9CLE1BQUk7QUFDRixXQUFPLFdBQVcsTUFBTSxLQUFLLE1BQU1DLGNBQWEsTUFBTSxNQUFNLENBQUMsQ0FBQztBQUFBLEVBQ2hFLFFBQVE7QUFDTixXQUFPLENBQUM7QUFBQSxFQUNWO0FBQ0Y7OztBQzdDTyxTQUFTLFlBQVksV0FBc0IsTUFBYyxRQUF5QztBQUN2RyxRQUFNLEVBQUUsS0FBSyxJQUFJLFVBQVUsV0FBVyxLQUFLLFdBQVcsSUFBSTtBQUMxRCxTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0E7QUFBQSxJQUNBLFFBQVEsVUFBVTtBQUFBLElBQ2xCO0FBQUEsSUFDQSxVQUFVLFVBQVUsU0FBUztBQUFBO0FBQUEsSUFFN0IsTUFBTSxPQUFPLFNBQVMsTUFBTSxjQUN6QixNQUFNLE9BQU8sNEJBQW1CLEdBQUcsZUFBZSxXQUFXLEVBQUUsTUFBTSxNQUFNLFNBQVMsTUFBTSxTQUFTLENBQUM7QUFBQSxJQUN2RyxNQUFNLE9BQU8sT0FBTyxVQUNqQixNQUFNLE9BQU8sNEJBQW1CLEdBQUcsZUFBZSxXQUFXLEVBQUUsTUFBTSxNQUFNLE9BQU8sS0FBSyxDQUFDO0FBQUEsSUFDM0YsT0FBTyxPQUFPLFVBQVUsTUFBTSxPQUFPLDZCQUFvQixHQUFHLGlCQUFpQixXQUFXLE1BQU0sSUFBSTtBQUFBLElBQ2xHLFVBQVUsQ0FBQyxVQUFVLFlBQVksT0FBTyxDQUFDLFVBQVUsV0FBVyxVQUFVLFdBQVcsTUFBTSxLQUFLLENBQUM7QUFBQSxJQUMvRixNQUFNLFNBQVMsT0FBYyxNQUFNLEtBQUs7QUFDdEMsWUFBTSxRQUFlLENBQUM7QUFDdEIsWUFBTSxPQUFPLFlBQVksT0FBTyxDQUFDLFVBQVUsS0FBSyxTQUFTLENBQUMsR0FBRyxNQUFNLEdBQUcsS0FBSyxDQUFDLEdBQUcsS0FBSztBQUNwRixZQUFNLFFBQVEsSUFBSSxLQUFLO0FBQ3ZCLFlBQU0sZUFBZSxFQUFFLE9BQU8sVUFBVSxNQUFNLEdBQUcsVUFBVSxVQUFVLFNBQVMsSUFBSTtBQUNsRixZQUFNLFFBQVEsUUFBUSxVQUFVLEtBQUssV0FBVyxJQUFJLEVBQUUsR0FBRyxjQUFjLFVBQVUsUUFBUSxTQUFTLFlBQVksQ0FBQztBQUMvRyxZQUFNLGFBQWEsSUFBSSxXQUFXLE9BQU8sWUFBWTtBQUNyRCxZQUFNLFNBQVMsS0FBSyxTQUFTLFVBQVU7QUFDdkMsVUFBSSxXQUFXLGlCQUFpQixXQUFXLFFBQVMsV0FBVSxTQUFTLElBQUksTUFBTTtBQUNqRixhQUFPO0FBQUEsSUFDVDtBQUFBLEVBQ0Y7QUFDRjs7O0FQeUdBLGVBQXNCLGNBQWMsT0FBOEM7QUFDaEYsUUFBTSxFQUFFLFlBQVksTUFBTSxvQkFBb0IsVUFBVSxJQUFJO0FBQzVELFFBQU0sV0FBcUIsTUFBTSxZQUFZLG9CQUFJLElBQUk7QUFDckQsUUFBTSxRQUFlLENBQUM7QUFDdEIsUUFBTSx1QkFBdUIsVUFBVTtBQUN2QyxRQUFNLGNBQWMsZ0JBQWdCLFlBQVksTUFBTSxhQUFhLEtBQUs7QUFDeEUsUUFBTSxTQUFTLGVBQWUsVUFBVSxhQUFhLG9CQUFvQixZQUFZLEtBQUssQ0FBQztBQUMzRixRQUFNLFdBQVcsTUFBTSxZQUFZLGFBQWE7QUFDaEQsUUFBTSxVQUFVLFlBQVksV0FBVyxPQUFPLE1BQU0sa0JBQWtCO0FBQ3RFLFFBQU0sQ0FBQyxNQUFNLElBQUksTUFBTSxRQUFRLElBQUksQ0FBQyxRQUFRLEtBQUssWUFBWSxJQUFJLEdBQUcsR0FBRyxLQUFLLENBQUM7QUFDN0UsUUFBTSxPQUFPLG9CQUFJLElBQW9CO0FBQ3JDLFFBQU0sU0FBd0IsQ0FBQyxNQUFNLFFBQVE7QUFDM0MsVUFBTSxPQUFPLFFBQVEsU0FBWSxPQUFPLEdBQUcsSUFBSSxJQUFJLEdBQUc7QUFDdEQsVUFBTSxTQUFTLEtBQUssSUFBSSxJQUFJO0FBQzVCLFFBQUksV0FBVyxPQUFXLFFBQU87QUFDakMsVUFBTSxRQUFRLE9BQU8sTUFBTSxHQUFHO0FBQzlCLFFBQUksVUFBVSxRQUFXO0FBQ3ZCLFdBQUssSUFBSSxNQUFNLEtBQUs7QUFDcEIsZUFBUyxJQUFJLEtBQUs7QUFBQSxJQUNwQjtBQUNBLFdBQU87QUFBQSxFQUNUO0FBQ0EsUUFBTSxRQUFRLFdBQVc7QUFBQSxJQUN2QixNQUFNLFdBQVc7QUFBQSxJQUNqQjtBQUFBLElBQ0EsTUFBTSxNQUFNO0FBQUEsSUFDWixRQUFRLE1BQU07QUFBQSxJQUNkLFFBQVEsaUJBQWlCLFdBQVcsSUFBSTtBQUFBLEVBQzFDLENBQUM7QUFDRCxRQUFNLGFBQW9CLENBQUM7QUFDM0IsUUFBTSxtQkFDSixZQUFZLFNBQVMsWUFBWSxZQUFZLE9BQU8sWUFBWSxNQUFNLENBQUMsU0FBUyxTQUFTLElBQUksR0FBRyxVQUFVO0FBQzVHLFFBQU0sUUFBUSxJQUFJLFVBQVU7QUFDNUIsTUFBSTtBQUNKLFFBQU0sUUFBUSxvQkFBSSxJQUFzQjtBQUN4QyxRQUFNLFdBQVcsb0JBQUksSUFBc0M7QUFDM0QsUUFBTSxVQUFVLG9CQUFJLElBQTZCO0FBQ2pELFFBQU0sV0FBVyxDQUFDLFNBQ2hCLE9BQU8sS0FBSyxJQUFJLElBQUksU0FBUyxXQUFXLE9BQU8sSUFBSSxJQUFJQyxjQUFhLFdBQVcsV0FBVyxNQUFNLElBQUksR0FBRyxNQUFNO0FBQy9HLE1BQUk7QUFDSixNQUFJLFdBQWdELEVBQUUsT0FBTyxHQUFHLE1BQU0sTUFBTTtBQUU1RSxRQUFNLFlBQXVCO0FBQUEsSUFDM0I7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQTtBQUFBLElBQ0EsV0FBVyxjQUFjO0FBQUEsSUFDekIsS0FBSyxZQUFZLFdBQVcsT0FBTyxvQkFBSSxLQUFLLENBQUM7QUFBQSxJQUM3QyxTQUFTLFVBQVUsWUFBWSxPQUFPO0FBQUEsSUFDdEMsWUFBWTtBQUFBLE1BQ1YsWUFBWTtBQUFBLE1BQ1osQ0FBQyxVQUFVLFdBQVcsV0FBVyxNQUFNLEtBQUs7QUFBQSxNQUM1QztBQUFBLE1BQ0EsTUFBTTtBQUFBLElBQ1I7QUFBQSxJQUNBLEtBQUssTUFBTTtBQUNULFVBQUksT0FBTyxNQUFNLElBQUksSUFBSTtBQUN6QixVQUFJLENBQUMsTUFBTTtBQUNULGVBQU8sSUFBSSxTQUFTLEVBQUUsUUFBUSxZQUFZLE9BQU8sU0FBUyxHQUFHLFdBQVcsWUFBWSxPQUFPLFlBQVksRUFBRSxDQUFDO0FBQzFHLGNBQU0sSUFBSSxNQUFNLElBQUk7QUFBQSxNQUN0QjtBQUNBLGFBQU87QUFBQSxJQUNUO0FBQUEsSUFDQSxPQUFPLFlBQVksVUFBVSxTQUFZLE1BQU0sUUFBUTtBQUFBLElBQ3ZELFFBQVEsTUFBTSxXQUFXO0FBQUEsSUFDekIsUUFBUSxNQUFNO0FBQUEsSUFDZCxRQUFRLE1BQU07QUFBQSxJQUNkLGVBQWUsTUFBTTtBQUFBLElBQ3JCLElBQUksZUFBZTtBQUNqQixrQkFBWSxJQUFJO0FBQUEsUUFDZCxVQUFVO0FBQUEsVUFDUixHQUFHLFdBQVcsS0FBSyxlQUFlLFlBQVksSUFBSSxFQUFFO0FBQUEsVUFDcEQsWUFBWSxXQUFXLFNBQVMsUUFBUSxhQUFhLENBQUM7QUFBQSxRQUN4RCxDQUFxQixFQUFFLElBQUksQ0FBQyxFQUFFLEtBQUssTUFBTSxJQUFJO0FBQUEsTUFDL0M7QUFDQSxhQUFPO0FBQUEsSUFDVDtBQUFBLElBQ0EsVUFBVSxFQUFFLFNBQVMsR0FBRyxZQUFZLEdBQUcsUUFBUSxFQUFFO0FBQUEsSUFDakQsTUFBTSxnQkFBZ0IsV0FBVyxLQUFLO0FBQUEsSUFDdEMsUUFBUSxhQUFhLFdBQVcsS0FBSztBQUFBLElBQ3JDLFFBQVEsTUFBTTtBQUFBLElBQ2QsU0FBUyxXQUFXLFdBQVcsT0FBTyxNQUFNLFlBQVksTUFBTSxTQUFTLEdBQUc7QUFBQSxJQUMxRSxPQUFPLGdCQUFnQixZQUFZLE1BQU0sWUFBWSxPQUFPLGVBQWUsUUFBUSxPQUFPLFFBQVEsQ0FBQztBQUFBLElBQ25HLGVBQWUsb0JBQUksSUFBSTtBQUFBLElBQ3ZCLFVBQVUsYUFBYTtBQUFBLE1BQ3JCO0FBQUEsTUFDQSxhQUFhLFlBQVk7QUFBQSxNQUN6QixNQUFNLE9BQU8sZUFBZSxRQUFRLE9BQU8sUUFBUSxDQUFDO0FBQUEsTUFDcEQ7QUFBQSxNQUNBLFVBQVUsU0FBUztBQUFBLE1BQ25CLFVBQVUsQ0FBQyxTQUFTLFVBQVUsa0JBQWtCLElBQUk7QUFBQSxNQUNwRCxVQUFVLENBQUMsU0FBUyxVQUFVLFFBQVEsT0FBTyxJQUFJO0FBQUEsTUFDakQsTUFBTSxDQUFDLFNBQVMsVUFBVSxZQUFZLElBQUk7QUFBQSxJQUM1QyxDQUFDO0FBQUEsSUFDRCxhQUFhLENBQUMsU0FBUyxZQUFZLFdBQVcsTUFBTSxNQUFNLE1BQU07QUFBQSxJQUNoRSxRQUFRLFNBQVM7QUFDZixZQUFNLE9BQU8sV0FBVyxRQUFRLFdBQVcsT0FBTztBQUNsRCxVQUFJLFFBQVEsU0FBUyxJQUFJLElBQUk7QUFDN0IsVUFBSSxDQUFDLE9BQU87QUFDVixnQkFBUSxlQUFlLFlBQVksTUFBTSxVQUFVLFVBQVUsTUFBTTtBQUNuRSxpQkFBUyxJQUFJLE1BQU0sS0FBSztBQUFBLE1BQzFCO0FBQ0EsYUFBTztBQUFBLElBQ1Q7QUFBQSxJQUNBLE1BQU0sT0FBTyxXQUFXO0FBQ3RCLFlBQU0sT0FBTyxXQUFXLFFBQVEsYUFBYSxTQUFTO0FBQ3RELFVBQUksUUFBUSxRQUFRLElBQUksSUFBSTtBQUM1QixVQUFJLENBQUMsT0FBTztBQUNWLGdCQUFRLGNBQWMsWUFBWSxJQUFJO0FBQ3RDLGdCQUFRLElBQUksTUFBTSxLQUFLO0FBQUEsTUFDekI7QUFDQSxhQUFPO0FBQUEsSUFDVDtBQUFBLElBQ0EsTUFBTSxhQUFhLE9BQU87QUFDeEIsWUFBTSxFQUFFLE1BQU0sU0FBUyxLQUFLLElBQUk7QUFDaEMsVUFBSSxZQUFZLFdBQVksWUFBWSxTQUFTLE1BQU0sYUFBZTtBQUN0RSxZQUFNLE9BQU8sR0FBRyxNQUFNLE1BQU0sSUFBSSxTQUFTLEtBQUssTUFBTSxHQUFHLENBQUM7QUFDeEQsVUFBSSxZQUFZLFVBQVU7QUFDeEIsY0FBTSxJQUFJLFFBQVEsa0JBQWtCO0FBQUEsVUFDbEMsTUFBTSxtQkFBbUIsSUFBSSx5Q0FBeUMsSUFBSTtBQUFBLFVBQzFFLE9BQU8sRUFBRSxLQUFLO0FBQUEsVUFDZCxRQUFRO0FBQUEsUUFDVixDQUFDO0FBQUEsTUFDSDtBQUVBLHFCQUFlLE1BQU0sZ0JBQWdCLEVBQUUsYUFBYSxNQUFNLEdBQUcsVUFBVSxHQUFHLE1BQU0sQ0FBQztBQUNqRixVQUFJLE1BQU0sV0FBWTtBQUN0QixtQkFBYTtBQUNiLFlBQU0sSUFBSSxRQUFRLHNCQUFzQjtBQUFBLFFBQ3RDLE1BQU0sbUJBQW1CLElBQUksK0NBQStDLElBQUk7QUFBQSxRQUNoRixPQUFPLEVBQUUsS0FBSztBQUFBLFFBQ2QsUUFBUTtBQUFBLE1BQ1YsQ0FBQztBQUFBLElBQ0g7QUFBQSxJQUNBLGNBQWNDLFFBQU87QUFDbkIsaUJBQVdBO0FBQUEsSUFDYjtBQUFBLElBQ0EsY0FBYyxRQUFRO0FBQ3BCLFlBQU0sUUFBUSxvQkFBSSxJQUFJLENBQUMsR0FBRyxRQUFRLEdBQUcsT0FBTyxPQUFPLFFBQVEsQ0FBQyxFQUFFLFVBQVUsTUFBTSxDQUFDLEdBQUcsVUFBVSxLQUFLLENBQUMsQ0FBQyxDQUFDLENBQUM7QUFDckcsaUJBQVcsUUFBUSxTQUFTLEtBQUssR0FBRztBQUNsQyxZQUFJLE1BQU0sSUFBSSxJQUFJLEVBQUc7QUFDckIsY0FBTSxJQUFJLFFBQVEsU0FBUztBQUFBLFVBQ3pCLE1BQU0sU0FBUyxJQUFJO0FBQUEsVUFDbkIsUUFBUSxZQUFZLE1BQU0sS0FBSztBQUFBLFVBQy9CLE1BQU0sRUFBRSxLQUFLO0FBQUEsUUFDZixDQUFDO0FBQUEsTUFDSDtBQUFBLElBQ0Y7QUFBQSxJQUNBLE1BQU0sUUFBUTtBQUNaLFlBQU0sVUFBVSxVQUFVLE1BQU07QUFDaEMsWUFBTSxVQUFVLFFBQVEsTUFBTTtBQUM5QixZQUFNLFVBQVUsT0FBTyxNQUFNO0FBQzdCLFlBQU0sVUFBVSxJQUFJLE1BQU07QUFDMUIsWUFBTSxFQUFFLE9BQU8sS0FBSyxPQUFPLFFBQVEsSUFBSSxXQUFXLFNBQVMsUUFBUSxVQUFVLENBQUM7QUFDOUUsWUFBTSxPQUFPLFdBQVcsT0FBTyxFQUFFLE1BQU0sTUFBTSxVQUFVLElBQUksS0FBSyxNQUFNLENBQUM7QUFDdkUsWUFBTSxlQUFlLFdBQVcsT0FBTyxFQUFFLEtBQUssQ0FBQztBQUFBLElBQ2pEO0FBQUEsRUFDRjtBQUNBLFNBQU87QUFDVDtBQUVBLElBQU0sU0FBUztBQUdmLFNBQVMsZUFBZSxRQUFnQixPQUFvQixVQUF3QztBQUNsRyxNQUFJO0FBQ0YsVUFBTSxRQUFRLGNBQWMsUUFBUSxTQUFTLEVBQUUsT0FBTyxNQUFNLEdBQUcsVUFBVSxTQUFTLElBQUksQ0FBQyxFQUFFLE9BQU8sUUFBUTtBQUN4RyxXQUFPLFVBQVUsU0FBWSxTQUFZLE9BQU8sTUFBTSxLQUFLO0FBQUEsRUFDN0QsUUFBUTtBQUNOLFdBQU87QUFBQSxFQUNUO0FBQ0Y7QUFFQSxJQUFNLFNBQVMsQ0FBQyxXQUNkLFdBQVcsVUFBYSxJQUFJLFNBQVMsTUFBTSxJQUFJLElBQUksSUFBSSxNQUFNLEVBQUUsT0FBTzsiLAogICJuYW1lcyI6IFsicmVhZEZpbGVTeW5jIiwgImpvaW4iLCAiam9pbiIsICJqb2luIiwgIm1rZGlyIiwgIm1rZGlyIiwgImpvaW4iLCAiZXhpc3RzU3luYyIsICJyZWFkRmlsZVN5bmMiLCAiam9pbiIsICJqb2luIiwgImV4aXN0c1N5bmMiLCAicmVhZEZpbGVTeW5jIiwgInJlYWRGaWxlU3luYyIsICJnaXZlbiJdCn0K
