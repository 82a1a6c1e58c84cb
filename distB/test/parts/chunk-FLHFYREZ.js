import {
  echoSide,
  fileSide,
  sentSide
} from "./chunk-4F2HHAKH.js";
import {
  demandTableFile,
  gathered,
  pagesOf,
  tableWriter
} from "./chunk-EHQEYXN5.js";
import {
  isRepeatable,
  pause,
  sendRequest
} from "./chunk-RCNXIKQJ.js";
import {
  sessionKinds
} from "./chunk-HXYVL4WF.js";
import {
  namesOf
} from "./chunk-WVOF6Q2Z.js";
import {
  compileKeeps
} from "./chunk-33U4T2M5.js";
import {
  namesUsed
} from "./chunk-JTXRQ3DM.js";
import {
  inputValue,
  missingInput,
  planInputs
} from "./chunk-3GYCCOMC.js";
import {
  variableNames
} from "./chunk-7G6JQYYU.js";
import {
  compileExpectations,
  judge
} from "./chunk-KDZI5FEM.js";
import {
  compileMatchers
} from "./chunk-REJVQWM4.js";
import {
  shortText
} from "./chunk-WAHZOCQ7.js";
import {
  readPlace
} from "./chunk-V2NIP2IX.js";
import {
  answerDifferences,
  covering
} from "./chunk-5DCQHAPP.js";
import {
  asAnswer
} from "./chunk-UHUDVQF4.js";
import {
  durationText,
  parseDuration
} from "./chunk-IQWA53IU.js";
import {
  compileTree
} from "./chunk-6FF7OQVK.js";
import {
  parseExpression
} from "./chunk-7JVJJYGZ.js";
import {
  layered,
  lazily,
  noNames
} from "./chunk-ILBUWU7B.js";
import {
  pathInside,
  placeInside
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
  Problem,
  asProblem
} from "./chunk-FSPVDUAZ.js";
import {
  parseJson
} from "./chunk-RABAPZK5.js";
import {
  isValueMap
} from "./chunk-XGDOGID3.js";

// src/core/trail/scope.ts
var Scope = class _Scope {
  /** @param outer the scope that this one stands in: seen, and never changed */
  constructor(values, layer, outer) {
    this.values = values;
    this.outer = outer;
    this.layers = outer ? [layer, ...outer.layers] : [layer];
  }
  values;
  outer;
  layers;
  lookup(name) {
    return this.values.get(name) ?? this.outer?.lookup(name);
  }
  *known() {
    yield* this.values.keys();
    if (this.outer) yield* this.outer.known();
  }
  set(name, named) {
    this.values.set(name, named);
  }
  /** As it is now; what is kept later does not change it. */
  snapshot() {
    return new _Scope(new Map(this.values), this.layers[0] ?? "", this.outer?.snapshot());
  }
};

// src/core/trail/start-scope.ts
function startScope(plan, workspace, given, row) {
  const values = /* @__PURE__ */ new Map();
  if (row) {
    const origin = `row ${row.number} of ${plan.rows?.from}`;
    values.set("row", { value: row.columns, origin });
    for (const name in row.columns) values.set(name, { value: row.columns[name], origin });
  }
  return withInputs(plan, workspace, values, given, (input) => {
    throw missingInput(input);
  });
}
function inputScope(plan, workspace, given) {
  return withInputs(plan, workspace, /* @__PURE__ */ new Map(), given, () => void 0);
}
function withInputs(plan, workspace, values, given, missing) {
  const scope = new Scope(values, `values of trail ${plan.name}`);
  if (plan.inputs.length === 0) return scope;
  const surroundings = { world: workspace.world(), onSecret: workspace.redactor.add };
  const names = variableNames(workspace.layers, noNames, surroundings);
  for (const input of plan.inputs) {
    const named = inputValue(input, given(input.name) ?? values.get(input.name), names, surroundings);
    if (named) scope.set(input.name, named);
    else missing(input);
  }
  return scope;
}
var fromCommandLine = ({ settings }) => (input) => {
  const value = settings.get(input);
  return value === void 0 ? void 0 : { value, origin: "--set" };
};

// src/core/trail/conditions.ts
function compileCondition(set, path, room) {
  const parts2 = Object.entries(set).map(([name, value]) => {
    const at = [...path, name];
    try {
      if (name === "any" && Array.isArray(value)) {
        const sets = value.map(
          (one, index) => compileCondition(asSet(one), [...at, index], room)
        );
        return (evaluation) => sets.some((holds) => holds(evaluation));
      }
      if (name === "not" && isValueMap(value)) {
        const inner = compileCondition(asSet(value), at, room);
        return (evaluation) => !inner(evaluation);
      }
      return overName(name, value, at, room);
    } catch (error) {
      throw asProblem(error).at(room.yaml.position(at));
    }
  });
  return (evaluation) => parts2.every((holds) => holds(evaluation));
}
function asSet(value) {
  if (isValueMap(value)) return value;
  throw new Problem("matcher-shape", { what: "any is a list of maps: names, each with its matchers" });
}
function overName(name, value, at, { yaml, loads, readText }) {
  const way = /[.[]/.test(name) ? wayInto(name) : void 0;
  const tree = compileTree(value, (inner) => yaml.position([...at, ...inner]), loads);
  const remake = (expected, more) => compileMatchers(expected, { subject: { strict: false }, loads: more, readText });
  const fixed = tree.constant === void 0 ? void 0 : remake(tree.constant, loads);
  return (evaluation) => {
    const found = evaluation.names.lookup(name)?.value ?? way?.(evaluation);
    let check = fixed;
    if (!check) {
      const expected = tree.evaluate(evaluation);
      const more = [];
      check = remake(expected === omitted ? null : expected, more);
      if (more.length > 0) {
        throw new Problem("matcher-shape", {
          what: `the condition over ${name} needs a pattern or a schema that is written out`,
          remedy: "name the value in a step with keep: before it"
        });
      }
    }
    return check.miss(found, {}) === void 0;
  };
}
function wayInto(text) {
  const node = parseExpression(text);
  const keys = node.kind === "path" ? node.steps.map((step) => "key" in step ? step.key : void 0) : [];
  if (node.kind !== "path" || keys.includes(void 0)) {
    throw new Problem("matcher-shape", {
      what: `a condition is over a name, or a member of one, not over ${text}`,
      remedy: "name the value in a step with keep: before it"
    });
  }
  return ({ names }) => {
    let value = names.lookup(node.name)?.value;
    for (const key of keys) {
      if (Array.isArray(value)) value = value.at(Number(key));
      else value = isValueMap(value) && Object.hasOwn(value, key) ? value[key] : void 0;
    }
    return value;
  };
}

// src/core/trail/rows/registry.ts
import { createReadStream } from "node:fs";

// src/core/trail/rows/csv.ts
var parse;
async function load() {
  parse ??= (await import("csv-parse")).parse;
  return parse;
}
var csv = {
  name: "csv",
  ending: /\.csv$/i,
  load,
  async *read(stream, file) {
    const parser = stream.pipe((await load())({ columns: true, bom: true, skip_empty_lines: true, trim: false }));
    stream.on("error", (error) => parser.destroy(error));
    let wake = () => void 0;
    for (const event of ["readable", "end", "close", "error"]) parser.on(event, () => wake());
    try {
      while (!parser.destroyed) {
        const columns = parser.read();
        if (columns !== null) yield columns;
        else if (parser.readableEnded) return;
        else {
          await new Promise((resolve) => {
            wake = resolve;
          });
        }
      }
      if (parser.errored) throw explained(parser.errored, file);
    } finally {
      stream.destroy();
      parser.destroy();
    }
  }
};
function explained(error, file) {
  if (error instanceof Problem) return error;
  return new Problem(
    "data-shape",
    { what: `${file} is not well-formed CSV`, where: { file, line: error.lines }, cause: error.message },
    { cause: error }
  );
}

// src/core/trail/rows/json.ts
var json = {
  name: "json",
  ending: /\.json$/i,
  async *read(stream, file) {
    let number = 0;
    for await (const text of itemsIn(stream, file)) {
      number += 1;
      let item;
      try {
        item = parseJson(text);
      } catch (error) {
        throw new Problem("data-shape", {
          what: `item ${number} of ${file} is not JSON`,
          where: { file },
          cause: error.message
        });
      }
      if (!isValueMap(item))
        throw new Problem("data-shape", { what: `item ${number} of ${file} must be a JSON object`, where: { file } });
      yield item;
    }
  }
};
async function* itemsIn(stream, file) {
  let item = "";
  let depth = 0;
  let inText = false;
  let escaped = false;
  stream.setEncoding("utf8");
  for await (const chunk of stream) {
    let from = 0;
    for (let at = 0; at < chunk.length; at += 1) {
      const letter = chunk[at];
      if (inText) {
        if (escaped) escaped = false;
        else if (letter === "\\") escaped = true;
        else if (letter === '"') inText = false;
      } else if (letter === '"') inText = true;
      else if (letter === "[" || letter === "{") {
        depth += 1;
        if (depth === 1) {
          if (letter !== "[") throw notAList(file);
          from = at + 1;
        }
      } else if (letter === "]" || letter === "}" || letter === "," && depth === 1) {
        if (depth <= 1) {
          item += chunk.slice(from, at);
          if (item.trim() !== "") yield item;
          else if (letter === ",") throw notAList(file);
          item = "";
          from = at + 1;
        }
        if (letter !== ",") depth -= 1;
      } else if (depth === 0 && !/[\s\uFEFF]/.test(letter)) throw notAList(file);
    }
    if (depth > 0) item += chunk.slice(from);
  }
  if (depth > 0) {
    throw new Problem("data-shape", { what: `${file} ends in the middle of its list`, where: { file } });
  }
}
var notAList = (file) => new Problem("data-shape", {
  what: `${file} is not a JSON list of objects`,
  where: { file },
  remedy: "for a list inside another value, send or keep it and go through it with for-each"
});

// src/core/trail/rows/jsonl.ts
import { createInterface } from "node:readline";
var jsonl = {
  name: "jsonl",
  ending: /\.(?:jsonl|ndjson)$/i,
  async *read(stream, file) {
    let line = 0;
    for await (const text of createInterface({ input: stream, crlfDelay: Number.POSITIVE_INFINITY })) {
      line += 1;
      if (text.trim() === "") continue;
      let columns;
      try {
        columns = parseJson(text);
      } catch (error) {
        throw new Problem("data-shape", {
          what: `${file} is not JSON lines`,
          where: { file, line },
          cause: error.message
        });
      }
      if (!isValueMap(columns))
        throw new Problem("data-shape", { what: "a row must be a JSON object", where: { file, line } });
      yield columns;
    }
  }
};

// src/core/trail/rows/registry.ts
var rowSources = [csv, json, jsonl];
function rowSourceOf(file) {
  const found = rowSources.find(({ ending }) => ending.test(file));
  if (found) return found;
  throw new Problem("data-shape", {
    what: `rows are read from .csv, .json and .jsonl files, not from ${file}`
  });
}
function readyRows(root, file, loads, where) {
  try {
    const { load: load2 } = rowSourceOf(file);
    pathInside(root, file);
    if (load2) loads.push(load2());
  } catch (error) {
    throw asProblem(error).at(where);
  }
}
function fileRows(root, file) {
  const source = rowSourceOf(file);
  return source.read(createReadStream(pathInside(root, file)), file);
}
async function* streamRows(stream) {
  const name = "standard input";
  const first = await firstLetter(stream);
  if (first === void 0) return;
  yield* (first === "[" ? json : first === "{" ? jsonl : csv).read(stream, name);
}
async function firstLetter(stream) {
  for (; ; ) {
    const chunk = stream.read();
    if (chunk === null) {
      if (stream.readableEnded || stream.destroyed) return void 0;
      await new Promise((resolve) => {
        const go = () => {
          stream.off("readable", go).off("end", go).off("error", go);
          resolve();
        };
        stream.on("readable", go).on("end", go).on("error", go);
      });
      continue;
    }
    const text = chunk.toString("utf8").replace(/^\uFEFF/, "");
    const found = /\S/.exec(text)?.[0];
    if (found === void 0) continue;
    stream.unshift(chunk);
    return found;
  }
}

// src/core/trail/rows/total.ts
import { createReadStream as createReadStream2 } from "node:fs";
async function rowsAbout(root, file) {
  const csv2 = /\.csv$/i.test(file);
  if (!csv2 && !/\.(?:jsonl|ndjson)$/i.test(file)) return void 0;
  let lines = 0;
  let last = 10;
  for await (const chunk of createReadStream2(pathInside(root, file))) {
    for (let at = chunk.indexOf(10); at !== -1; at = chunk.indexOf(10, at + 1)) lines += 1;
    last = chunk.at(-1) ?? last;
  }
  return Math.max(0, lines + (last === 10 ? 0 : 1) - (csv2 ? 1 : 0));
}

// src/core/trail/rows/rows-plan.ts
function planRows(given, yaml, loads, { collection: { root }, standardInput }) {
  if (given === "-") {
    if (!standardInput) throw new Problem("usage", { what: "rows come from standard input, which nobody reads here" });
    return { from: "standard input", read: () => streamRows(standardInput()), about: unknown };
  }
  if (typeof given === "string" && !given.includes("${")) {
    readyRows(root, given, loads, yaml.position(["rows"]));
    return {
      from: given,
      read: () => fileRows(root, given),
      about: () => rowsAbout(root, given)
    };
  }
  const where = yaml.position(["rows"]);
  const tree = compileTree(given, (path) => yaml.position(["rows", ...path]), loads);
  return {
    from: "the list",
    about: unknown,
    read(workspace, own) {
      const surroundings = { world: workspace.world(), onSecret: workspace.redactor.add };
      const names = layered(own, variableNames(workspace.layers, own, surroundings));
      const value = tree.evaluate(new Evaluation(names, surroundings));
      if (value !== omitted && Array.isArray(value)) return asRows(value);
      throw new Problem("data-shape", { what: "rows must be a list, and the expression gives none", where });
    }
  };
}
var unknown = async () => void 0;
async function* asRows(items) {
  for (const item of items) yield isValueMap(item) ? item : { value: item };
}

// src/core/trail/giving.ts
function planGives(values, { yaml, loads }, path) {
  return new Map(
    Object.entries(values ?? {}).map(([key, value]) => [
      key,
      compileTree(value, (inner) => yaml.position([...path, key, ...inner]), loads)
    ])
  );
}
function walkEvaluation(workspace, scope) {
  const surroundings = { world: workspace.world(), onSecret: workspace.redactor.add };
  return new Evaluation(layered(scope, variableNames(workspace.layers, scope, surroundings)), surroundings);
}
function evaluated(tree, evaluation, origin) {
  const inner = new Evaluation(evaluation.names, evaluation);
  const value = tree.evaluate(inner);
  return value === omitted ? void 0 : { value, origin, secret: inner.touchedSecret };
}
function giver(gives, workspace, scope, label) {
  let evaluation;
  return (input) => {
    const tree = gives.get(input);
    if (!tree) return scope.lookup(input);
    evaluation ??= walkEvaluation(workspace, scope);
    return evaluated(tree, evaluation, `given by step ${label}`);
  };
}

// src/core/trail/secrets-ahead.ts
function secretsIn(value, yaml, path = []) {
  return namesUsed(value ?? null, path).flatMap(
    ({ secret, keys = [], path: at, optional, computed }) => secret === void 0 || optional || computed ? [] : [{ name: secret, key: keys[1], where: yaml.position([...at]) }]
  );
}
var parts = ["url", "path", "query", "headers", "cookies", "body"];
function secretsOf({ collection }, { content, yaml, name }, sessions, signature) {
  return [
    ...parts.flatMap((part) => secretsIn(content[part], yaml, [part])),
    ...collection.defaults(name).flatMap(
      (defaults) => ["headers", "query"].flatMap(
        (part) => Object.entries(defaults.content[part] ?? {}).flatMap(
          ([key, value]) => Object.keys(content[part] ?? {}).some((own) => own.toLowerCase() === key.toLowerCase()) ? [] : secretsIn(value, defaults.yaml, [part, key])
        )
      )
    ),
    ...signature === void 0 ? [] : fileSecrets(collection, "signature", signature),
    ...sessions.flatMap((session) => fileSecrets(collection, "session", session))
  ];
}
function fileSecrets(collection, kind, given) {
  try {
    const { content, yaml } = collection.read(kind, given);
    if (kind === "session" && sessionKinds.get(content.kind ?? "")?.open) return [];
    const { examples: _, about: __, ...used } = content;
    return secretsIn(used, yaml);
  } catch {
    return [];
  }
}
function demandSecrets(workspace, plans) {
  const world = workspace.world();
  const missing = /* @__PURE__ */ new Map();
  for (const { steps } of plans) {
    for (const { secrets, when } of steps) {
      if (when) continue;
      for (const use of secrets) {
        const full = use.key === void 0 ? use.name : `${use.name}[${use.key}]`;
        if (!missing.has(full) && world.secret(use.name, use.key) === void 0) missing.set(full, use);
      }
    }
  }
  const [first] = missing;
  if (!first) return;
  const names = [...missing.keys()];
  throw new Problem("secret-missing", {
    what: names.length === 1 ? `the secret ${names[0]} is not set` : `the secrets ${names.join(", ")} are not set`,
    where: first[1].where,
    remedy: `${names.map((name) => `echo-trail secret set ${/[[\]]/.test(name) ? `'${name}'` : name}`).join(", ")}; nothing was sent`,
    data: { names }
  });
}

// src/core/trail/steps/choose.ts
var choose = {
  name: "choose",
  fits: (file) => "choose" in file,
  async plan({ choose: spec, name }, { yaml, path, loads }) {
    const at = (key) => (inner) => yaml.position([...path, "choose", key, ...inner]);
    const from = compileTree(spec.from, at("from"), loads);
    const labels = spec.label === void 0 ? void 0 : compileTree(spec.label, at("label"), loads);
    const values = spec.value === void 0 ? void 0 : compileTree(spec.value, at("value"), loads);
    const label = name ?? `choose ${spec.as}`;
    return {
      kind: "choose",
      label,
      changes: 0,
      requests: [],
      takes: [spec.as],
      secrets: secretsIn(spec, yaml, [...path, "choose"]),
      async walk(walk) {
        const choices = choicesIn(from, labels, values, walk, label);
        const given = walk.workspace.settings.get(spec.as);
        const chosen = given === void 0 ? await ask(spec.as, choices, walk) : fitting(spec.as, given, choices);
        const { value, secret } = chosen;
        walk.scope.set(spec.as, { value, secret, origin: `chosen by step ${label}` });
        return { sent: void 0, kept: [spec.as], problems: [], told: { chosen: chosen.label } };
      },
      restore: () => void 0
    };
  }
};
function choicesIn(from, labels, values, { workspace, scope }, label) {
  const list = evaluated(from, walkEvaluation(workspace, scope), label);
  if (!list || !Array.isArray(list.value) || list.value.length === 0) {
    throw new Problem("data-shape", {
      what: `${label}: there is nothing to choose from`,
      cause: Array.isArray(list?.value) ? "the list is empty" : "from is no list"
    });
  }
  return list.value.map((item) => {
    const named = /* @__PURE__ */ new Map([["item", { value: item, secret: list.secret, origin: label }]]);
    const own = walkEvaluation(workspace, new Scope(named, label, scope));
    const value = values ? evaluated(values, own, label) : void 0;
    const text = labels ? evaluated(labels, own, label)?.value : item;
    return {
      label: textOf(text ?? item),
      value: value?.value ?? item,
      secret: (value?.secret ?? list.secret) === true
    };
  });
}
async function ask(name, choices, { workspace }) {
  if (!workspace.choose) {
    throw new Problem("input-missing", {
      what: `somebody has to choose ${name}, and nobody is at the terminal`,
      remedy: `--set ${name}=LABEL-OR-VALUE; there are: ${some(choices)}`,
      data: { input: name }
    });
  }
  return choices[await workspace.choose(
    name,
    choices.map(({ label }) => label)
  )];
}
function fitting(name, given, choices) {
  const wanted = given.trim().toLowerCase();
  const whole = choices.filter(({ label, value }) => textOf(value) === given || label === given);
  const found = whole.length > 0 ? whole : choices.filter(({ label }) => wanted !== "" && label.toLowerCase().includes(wanted));
  const [first] = found;
  if (first && found.length === 1) return first;
  if (first) {
    throw new Problem("name-ambiguous", {
      what: `--set ${name}=${given} fits ${found.length} of them: ${some(found)}`,
      remedy: "give the whole label, or the value",
      data: { input: name, fitting: found.map(({ label }) => label) }
    });
  }
  throw new Problem("input-value", {
    what: `--set ${name}=${given} fits none of ${choices.length}`,
    remedy: nearestHint(
      given,
      choices.map(({ label }) => label)
    ) ?? `there are: ${some(choices)}`,
    data: { input: name }
  });
}
function some(choices) {
  const labels = choices.slice(0, 8).map(({ label }) => label);
  return `${labels.join("; ")}${choices.length > labels.length ? `; and ${choices.length - labels.length} more` : ""}`;
}

// src/core/trail/steps/unchanging.ts
function demandUnchanging({ plan }, key, { yaml, path }) {
  if (!plan.changes) return;
  throw new Problem("file-shape", {
    what: `${key} sends ${plan.name} more than once, and ${plan.method} changes something`,
    where: yaml.position([...path, key]),
    remedy: "where it changes nothing, write changes: false in its request file; else send it in a step before this one"
  });
}

// src/core/trail/steps/compare.ts
var compare = {
  name: "compare",
  fits: (file) => "compare" in file,
  async plan(file, room) {
    const { yaml, path, loads, workspace } = room;
    const sides = [];
    for (const [index, side] of file.compare.entries()) sides.push(await planSide(side, index, room));
    const [one, other] = sides;
    const label = file.name ?? `compare ${one.label} with ${other.label}`;
    const { ignoring, only, unordered, changed } = file;
    const ratio = file["time-ratio"] === void 0 ? void 0 : ratioCheck(file["time-ratio"]);
    function ratioCheck(expected) {
      try {
        return compileMatchers(expected, { subject: { strict: false }, loads, readText: workspace.readText });
      } catch (error) {
        throw asProblem(error).at(yaml.position([...path, "time-ratio"]));
      }
    }
    return {
      kind: "compare",
      label,
      changes: 0,
      requests: sides.flatMap(({ request }) => request ?? []),
      secrets: secretsIn(file.compare, yaml, [...path, "compare"]),
      async walk(walk) {
        const left = await one.answer(walk);
        const right = await other.answer(walk);
        if (!left || !right || walk.workspace.dryRun) return { sent: void 0, kept: [], problems: [] };
        const found = answerDifferences(left, right, { ignoring, only, unordered });
        const { wrong, missing } = changed ? asIntended(found, changed) : { wrong: found, missing: [] };
        const problems = [
          ...missing.map((place) => new Problem("step-failed", { what: `${place} should have changed, and did not` })),
          ...wrong.length > 0 ? [differ(wrong, walk)] : [],
          ...slow(ratio, left, right)
        ];
        return { sent: void 0, kept: [], problems, told: { differences: wrong } };
      },
      restore: () => void 0
    };
  }
};
async function planSide(side, index, room) {
  const path = [...room.path, "compare", index];
  if ("send" in side) {
    const prepared = await room.request(side.send, "compare");
    demandUnchanging(prepared, "compare", room);
    const gives = planGives(side.give, room, [...path, "give"]);
    const { session } = side;
    const sessions = session === void 0 ? void 0 : session === "none" ? [] : [session].flat();
    const { name } = prepared.plan;
    return {
      label: name,
      request: prepared,
      async answer({ workspace, scope, signal, row }) {
        const given = giver(gives, workspace, scope, name);
        const caller = walkEvaluation(workspace, scope).names;
        const sent = await sendRequest(workspace, prepared, { given, caller, sessions, signal, step: name, row });
        return workspace.dryRun ? void 0 : sentSide(sent);
      }
    };
  }
  if ("echo" in side) {
    const { echo } = side;
    return {
      label: `echo ${echo}`,
      request: void 0,
      answer: ({ workspace }) => echoSide(workspace.collection.local, echo)
    };
  }
  if ("file" in side) {
    const { file } = side;
    return {
      label: file,
      request: void 0,
      answer: async ({ workspace }) => fileSide(workspace.collection.root, file)
    };
  }
  const tree = compileTree(side.value, (inner) => room.yaml.position([...path, "value", ...inner]), room.loads);
  const label = typeof side.value === "string" ? side.value.replace(/^\$\{(.*)\}$/, "$1") : "a value";
  return {
    label,
    request: void 0,
    async answer({ workspace, scope }) {
      const value = evaluated(tree, walkEvaluation(workspace, scope), label)?.value ?? null;
      const text = typeof value === "string" ? value : "";
      return { status: void 0, headers: [], text, ...typeof value !== "string" && { value } };
    }
  };
}
function asIntended(found, changed) {
  const intended = changed.map((place) => ({ place, covers: covering(place) }));
  return {
    wrong: found.filter(({ at }) => !intended.some(({ covers }) => covers(at))),
    missing: intended.filter(({ covers }) => !found.some(({ at }) => covers(at))).map(({ place }) => place)
  };
}
function differ(found, { workspace }) {
  const [first] = found;
  const { hide } = workspace.redactor;
  const at = first && `${first.at}: ${hide(shortText(first.left))}, and ${hide(shortText(first.right))}`;
  return new Problem("step-failed", {
    what: `${found.length} ${found.length === 1 ? "difference" : "differences"}`,
    cause: at
  });
}
function slow(check, left, right) {
  if (!check || left.time === void 0 || right.time === void 0) return [];
  const ratio = Math.round(right.time / Math.max(left.time, 1e-3) * 100) / 100;
  if (check.miss(ratio, {}) === void 0) return [];
  return [
    new Problem("step-failed", {
      what: `the second answer took ${ratio} times as long as the first, expected ${check.describe()}`,
      cause: `${durationText(left.time)}, and ${durationText(right.time)}`
    })
  ];
}

// src/core/trail/gravity.ts
var order = [
  "failed-expectation",
  "no-answer",
  "refused",
  "wrong-input",
  "fault",
  "interrupted"
];
function graver(one, other) {
  return one && order.indexOf(one.family) >= order.indexOf(other.family) ? one : other;
}

// src/core/trail/many.ts
async function manyAtOnce(items, atOnce, work, signal) {
  let fault;
  let number = 0;
  async function worker() {
    while (!signal.aborted && !fault) {
      const next = await items.next();
      if (next.done) return;
      number += 1;
      await work(next.value, number);
    }
  }
  const guarded = () => worker().catch((error) => {
    fault ??= asProblem(error);
  });
  await Promise.all(Array.from({ length: atOnce }, guarded));
  await items.return?.();
  return fault;
}

// src/core/trail/table.ts
var errorColumn = "error";
function planTable(spec, yaml, path, loads) {
  const trees = /* @__PURE__ */ new Map();
  const places = /* @__PURE__ */ new Map();
  for (const [name, text] of Object.entries(spec.columns)) {
    const where = yaml.position([...path, "columns", name]);
    try {
      if (text.includes("${"))
        trees.set(
          name,
          compileTree(text, () => where, loads)
        );
      else places.set(name, readPlace(text, loads));
    } catch (error) {
      throw asProblem(error).at(where);
    }
  }
  try {
    if (spec.to !== void 0) demandTableFile(spec.to);
  } catch (error) {
    throw asProblem(error).at(yaml.position([...path, "to"]));
  }
  return {
    columns: Object.keys(spec.columns),
    trees,
    places,
    as: spec.as,
    to: spec.to,
    show: spec.show ?? (spec.as === void 0 && spec.to === void 0)
  };
}
function placedCells({ places }, received) {
  const cells = {};
  for (const [name, place] of places) {
    try {
      cells[name] = place.find(received) ?? null;
    } catch {
      cells[name] = null;
    }
  }
  return cells;
}
function lineOf(plan, walk, problem) {
  try {
    return { cells: cellsOf(plan, walk, problem), problem };
  } catch (error) {
    const unknown2 = asProblem(error);
    return { cells: cellsOf(plan, walk, unknown2), problem: unknown2 };
  }
}
function cellsOf({ columns, trees }, walk, failed) {
  const cells = {};
  const evaluation = walkEvaluation(walk.workspace, walk.scope);
  for (const name of columns) {
    const tree = trees.get(name);
    cells[name] = walk.last.cells[name] ?? null;
    try {
      const value = tree?.evaluate(evaluation);
      if (value !== void 0 && value !== omitted) cells[name] = value;
    } catch (error) {
      if (!failed) throw error;
    }
  }
  if (failed) cells[errorColumn] = walk.workspace.redactor.hide(failed.what);
  return walk.workspace.redactor.hideIn(cells);
}
var shownLines = 200;
async function openTable(plan, root) {
  const heads = [...plan.columns, errorColumn];
  const writer = plan.to === void 0 ? void 0 : await tableWriter(placeInside(root, plan.to), heads);
  const early = /* @__PURE__ */ new Map();
  const lines = [];
  let next = 1;
  return {
    async add(number, cells) {
      early.set(number, cells);
      for (let line = early.get(next); line; line = early.get(next)) {
        early.delete(next);
        next += 1;
        if (plan.as !== void 0 || lines.length < shownLines) lines.push(line);
        await writer?.add(line);
      }
    },
    async finish() {
      for (const [, line] of [...early].sort(([a], [b]) => a - b)) {
        next += 1;
        if (plan.as !== void 0 || lines.length < shownLines) lines.push(line);
        await writer?.add(line);
      }
      await writer?.finish();
      return { count: next - 1, lines };
    },
    abandon: async () => writer?.abandon()
  };
}
async function settleTable(plan, table, label, row) {
  const { count, lines } = await table.finish();
  const { columns, to, show } = plan;
  return { event: "table", label, row, columns, lines, count, to, show };
}

// src/core/trail/steps/members.ts
async function planMembers(given, label, room) {
  const path = [...room.path, "for-each"];
  const where = room.yaml.position(path);
  if (typeof given === "string" || Array.isArray(given)) {
    const tree = compileTree(given, (inner) => room.yaml.position([...path, ...inner]), room.loads);
    return {
      request: void 0,
      async *read({ workspace, scope }) {
        const named = evaluated(tree, walkEvaluation(workspace, scope), `step ${label}`);
        for (const value of listOf(named?.value, label)) yield { value, secret: named?.secret === true };
      }
    };
  }
  if ("range" in given) {
    const [from, to] = given.range;
    return {
      request: void 0,
      async *read() {
        const step = from <= to ? 1 : -1;
        for (let value = from; step > 0 ? value <= to : value >= to; value += step) yield { value, secret: false };
      }
    };
  }
  if ("rows" in given) {
    readyRows(room.collection.root, given.rows, room.loads, room.yaml.position([...path, "rows"]));
    return {
      request: void 0,
      async *read({ workspace }) {
        for await (const value of fileRows(workspace.collection.root, given.rows)) yield { value, secret: false };
      }
    };
  }
  const prepared = await room.request(given.pages, "for-each");
  if (!prepared.pages) {
    throw new Problem("file-shape", {
      what: `the request ${prepared.plan.name} has no pages`,
      where,
      remedy: "say how its list comes in pages: `pages:` in the request file"
    });
  }
  const gives = planGives(given.give, room, [...path, "give"]);
  return {
    request: prepared,
    async *read(walk, told) {
      const { workspace, scope, signal, row } = walk;
      const sending = {
        given: giver(gives, workspace, scope, label),
        caller: walkEvaluation(workspace, scope).names,
        signal,
        step: label,
        row
      };
      for await (const { sent, items, count } of pagesOf(workspace, prepared, sending)) {
        told.sent = sent;
        told.pages = count;
        if (sent.problems.length > 0) {
          const why = sent.problems.reduce(graver);
          throw new Problem(why.code, {
            what: `${why.what} (partial: ${count.items}${count.total === void 0 ? "" : ` of ${count.total}`} items came before)`,
            cause: why.reason,
            remedy: why.remedy
          });
        }
        for (const value of items) yield { value, secret: false };
      }
    }
  };
}
function listOf(value, label) {
  if (Array.isArray(value)) return value;
  if (isValueMap(value)) return Object.entries(value).map(([key, inner]) => ({ key, value: inner }));
  throw new Problem("data-shape", {
    what: `${label}: for-each goes through a list or a map, and was given neither`,
    cause: value === void 0 ? "the value is omitted" : void 0,
    remedy: "a place such as $.items[*] keeps a list, even of one"
  });
}

// src/core/trail/steps/for-each.ts
var forEach = {
  name: "for-each",
  fits: (file) => "for-each" in file,
  async plan(file, room) {
    const { yaml, path, loads } = room;
    const name = file.as ?? "item";
    const label = file.name ?? `for each ${name}`;
    const members = await planMembers(file["for-each"], label, room);
    const steps = await room.steps(file.steps, [...path, "steps"]);
    const table = file.table && planTable(file.table, yaml, [...path, "table"], loads);
    const keyPlace = file["once-by"] === void 0 ? void 0 : placeAt(file["once-by"]);
    const atOnce = file["at-once"] ?? 1;
    function placeAt(text) {
      try {
        return readPlace(text, loads);
      } catch (error) {
        throw asProblem(error).at(yaml.position([...path, "once-by"]));
      }
    }
    return {
      kind: "for-each",
      label,
      changes: steps.reduce((sum, { changes }) => sum + changes, 0),
      requests: [...members.request ? [members.request] : [], ...steps.flatMap(({ requests }) => requests)],
      takes: steps.flatMap(({ takes }) => takes ?? []),
      secrets: [
        ...secretsIn(file["for-each"], yaml, [...path, "for-each"]),
        ...steps.flatMap(({ when, secrets }) => when ? [] : secrets)
      ],
      async walk(walk, at) {
        const told = {};
        const counts = { ok: 0, failed: 0, passed: 0, problem: void 0 };
        const where = `${walk.row ?? ""} ${label}`;
        const handled = keyPlace && handledAt(walk, where);
        const lines = walk.workspace.dryRun ? void 0 : table;
        const open = lines && await openTable(lines, walk.workspace.collection.root);
        const work = async ({ value, secret }, number) => {
          const key = keyPlace && keyOf(keyPlace.find(asAnswer(value)), keyPlace.text);
          if (key !== void 0 && handled?.has(key)) {
            counts.passed += 1;
            return;
          }
          const scope = new Scope(
            /* @__PURE__ */ new Map([[name, { value, secret, origin: `${label} ${number}` }]]),
            label,
            walk.scope
          );
          const inner = {
            ...walk,
            at: `${at}:${number}`,
            scope,
            depth: walk.depth + 1,
            member: `${name} ${number}`,
            table: lines,
            last: { cells: {} }
          };
          const { problem, cells } = await memberOf(steps, inner, lines);
          if (cells && open) await open.add(number, cells);
          counts[problem ? "failed" : "ok"] += 1;
          if (problem) counts.problem = graver(counts.problem, problem);
          else if (key !== void 0 && !walk.signal.aborted) {
            handled?.add(key);
            walk.journal?.handled(where, key);
          }
        };
        let ended;
        try {
          ended = await manyAtOnce(members.read(walk, told)[Symbol.asyncIterator](), atOnce, work, walk.ending);
        } catch (error) {
          await open?.abandon();
          throw error;
        }
        let settled;
        if (walk.ending.aborted) await open?.abandon();
        else if (lines && open) settled = await settle(lines, open, label, walk);
        const came = result(counts, told, walk.signal.aborted ? void 0 : ended, lines);
        return settled ? { ...came, table: settled } : came;
      }
    };
  }
};
async function memberOf(steps, walk, table) {
  const problem = await walk.steps(steps, walk);
  return table ? lineOf(table, walk, problem) : { problem, cells: void 0 };
}
async function settle(plan, table, label, walk) {
  const event = await settleTable(plan, table, label, walk.row);
  if (plan.as !== void 0) walk.scope.set(plan.as, { value: event.lines, origin: `table of step ${label}` });
  return event;
}
function result({ ok, failed, passed, problem }, { sent, pages }, ended, table) {
  const problems = [];
  if (ended) problems.push(ended);
  if (failed > 0 && problem) {
    problems.push(new Problem(problem.code, { what: `${failed} of ${ok + failed} failed`, cause: problem.what }));
  }
  return {
    sent,
    kept: table?.as === void 0 ? [] : [table.as],
    problems,
    told: { members: { ok, failed, passed }, pages }
  };
}
function handledAt({ handled }, where) {
  let keys = handled.get(where);
  if (!keys) {
    keys = /* @__PURE__ */ new Set();
    handled.set(where, keys);
  }
  return keys;
}
function keyOf(found, place) {
  if (found !== void 0) return textOf(found);
  throw new Problem("place-not-found", {
    what: `an item has nothing at ${place}, which tells it apart`,
    remedy: "correct once-by"
  });
}

// src/core/trail/steps/keep.ts
var others = ["send", "trail", "for-each", "poll", "choose", "compare"];
var keep = {
  name: "keep",
  fits: (file) => "keep" in file && !others.some((key) => key in file),
  async plan(file, room) {
    const values = planGives(file.keep, room, [...room.path, "keep"]);
    const label = file.name ?? `keep ${[...values.keys()].join(", ")}`;
    return {
      kind: "keep",
      label,
      changes: 0,
      requests: [],
      secrets: secretsIn(file.keep, room.yaml, [...room.path, "keep"]),
      async walk({ workspace, scope }) {
        for (const [name, tree] of values) {
          const named = evaluated(tree, walkEvaluation(workspace, scope), `kept by step ${label}`);
          if (named) scope.set(name, named);
        }
        return { sent: void 0, kept: [...values.keys()], problems: [] };
      },
      // A moment or a random number is the same when the run is gone on with.
      restore: () => void 0
    };
  }
};

// src/core/trail/steps/sent-step.ts
async function planSent(file, request, key, room) {
  const { yaml, path, loads, workspace } = room;
  const prepared = await room.request(request, key);
  const { name, content, sessions: usual } = prepared.plan;
  const label = file.name ?? name;
  const gives = planGives(file.give, room, [...path, "give"]);
  const keeps = compileKeeps(file.keep, yaml, [...path, "keep"], loads, content.namespaces);
  const sessions = file.session === void 0 ? void 0 : file.session === "none" ? [] : [file.session].flat();
  const own = workspace.collection.read("request", name);
  return {
    prepared,
    label,
    secrets: [
      ...secretsIn(file.give, yaml, [...path, "give"]),
      ...secretsOf(workspace, own, sessions ?? usual, prepared.signer?.name)
    ],
    // One literal, nothing spread: a run makes thousands of them.
    sending: ({ workspace: at, scope, signal, row, forSession }, own2) => ({
      given: giver(gives, at, scope, label),
      // Most sendings never look at the names of the walk.
      caller: lazily(() => walkEvaluation(at, scope).names),
      sessions: forSession === void 0 ? sessions : [],
      cookiesOf: forSession === void 0 ? void 0 : [forSession],
      keeps,
      signal,
      step: label,
      row,
      expectations: own2?.expectations ?? [],
      idempotencyKey: own2?.idempotencyKey,
      onLeaving: own2?.onLeaving
    }),
    keep({ scope }, kept) {
      for (const { name: as, value, secret, place } of kept)
        scope.set(as, { value, secret, origin: `kept by step ${label} from ${place}` });
      return kept.map((one) => one.name);
    }
  };
}

// src/core/trail/steps/poll.ts
var longestPause = 3e4;
var poll = {
  name: "poll",
  fits: (file) => "poll" in file,
  async plan(file, room) {
    const { yaml, path, loads, workspace } = room;
    const step = await planSent(file, file.poll, "poll", room);
    const { prepared, label } = step;
    demandUnchanging(prepared, "poll", room);
    const { namespaces } = prepared.plan.content;
    const compiled = (key) => compileExpectations(file[key], yaml, [...path, key], workspace.readText, loads, namespaces);
    const [until, unless] = [compiled("until"), compiled("unless")];
    const first = parseDuration(file.pause ?? "1s");
    const within = parseDuration(file.within ?? "60s");
    const growth = file.growth ?? 1;
    return {
      kind: "poll",
      label,
      changes: 0,
      requests: [prepared],
      secrets: step.secrets,
      async walk(walk) {
        const started = performance.now();
        const seen = [];
        let wait = first;
        for (let asked = 1; ; asked += 1) {
          const sending = step.sending(walk);
          const sent = await sendRequest(walk.workspace, prepared, { ...sending, expectations: until });
          const { received } = sent.outcome;
          if (received) note(seen, until, received);
          const told = { seen: { asked, values: seen } };
          if (sent.problems.length === 0) return { sent, kept: step.keep(walk, sent.kept), problems: [], told };
          if (walk.signal.aborted) return { sent, kept: [], problems: sent.problems, told };
          const never = received && await allHold(unless, received, walk, sending.caller);
          if (never) return { sent, kept: [], problems: [hopeless(unless, received)], told };
          const elapsed = performance.now() - started;
          if (elapsed + wait > within)
            return { sent, kept: [], problems: [late(sent, asked, elapsed), ...sent.problems], told };
          await pause(wait, walk.signal);
          wait = Math.min(Math.max(longestPause, first), wait * growth);
        }
      },
      restore: () => void 0
    };
  }
};
function note(seen, until, received) {
  const values = until.map(({ place }) => {
    try {
      return shortText(place.find(received));
    } catch {
      return "nothing";
    }
  });
  const text = values.join(", ");
  if (seen.at(-1) !== text) seen.push(text);
}
async function allHold(wanted, received, { workspace }, names) {
  if (wanted.length === 0) return false;
  const surroundings = { world: workspace.world(), onSecret: workspace.redactor.add };
  const verdicts = await judge(wanted, received, new Evaluation(names, surroundings), { documented: () => void 0 });
  return verdicts.every(({ ok }) => ok);
}
function hopeless(unless, received) {
  const found = unless.map(({ place }) => `${place.text} is ${shortText(place.find(received))}`);
  return new Problem("step-failed", { what: `it will not come: ${found.join(", ")}` });
}
var late = ({ outcome: { received } }, asked, elapsed) => new Problem("step-failed", {
  what: `not as awaited after ${durationText(elapsed)}, asked ${asked} ${asked === 1 ? "time" : "times"}`,
  remedy: received ? "within: says how long to wait" : void 0
});

// src/core/trail/steps/undo-part.ts
async function planUndo(file, step, room) {
  const prepared = await room.request(file.send, "undo");
  const { name: request } = prepared.plan;
  const gives = planGives(file.give, room, [...room.path, "undo", "give"]);
  const wanted = prepared.plan.inputs.map(({ name }) => name);
  return (walk, at) => {
    const { workspace, row, journal } = walk;
    if (journal?.undoneBefore(at)) return;
    const scope = walk.scope.snapshot();
    if (journal && !journal.armedBefore(at)) {
      const value = giver(gives, workspace, scope, request);
      const given = namesOf(wanted, (name) => quietly(() => value(name)));
      const names = namesOf(workspace.outsideNames, (name) => scope.lookup(name));
      journal.armed({ at, step, request, row, given, names });
    }
    walk.undo.push({
      at,
      step,
      label: request,
      async run(signal) {
        const sent = await sendRequest(workspace, prepared, {
          given: giver(gives, workspace, scope, request),
          caller: walkEvaluation(workspace, scope).names,
          signal,
          step: `undo of ${step}`,
          row
        });
        return { sent, kept: [], problems: sent.problems };
      }
    });
  };
}
function quietly(work) {
  try {
    return work();
  } catch {
    return void 0;
  }
}

// src/core/trail/steps/send.ts
var send = {
  name: "send",
  fits: (file) => "send" in file,
  async plan(file, room) {
    const { yaml, path, loads, workspace } = room;
    const step = await planSent(file, file.send, "send", room);
    const { prepared, label } = step;
    const { namespaces } = prepared.plan.content;
    const expectations = compileExpectations(
      file.expect,
      yaml,
      [...path, "expect"],
      workspace.readText,
      loads,
      namespaces
    );
    const undo = file.undo && await planUndo(file.undo, label, room);
    return {
      kind: "send",
      label,
      changes: prepared.plan.changes ? 1 : 0,
      requests: [prepared],
      secrets: step.secrets,
      async walk(walk, at) {
        const before = walk.journal?.known(at);
        const { method, changes } = prepared.plan;
        if (before?.state === "under way" && !isRepeatable({ method, changes, idempotencyKey: before.key })) {
          walk.doubt(before.call);
          throw new Problem("in-doubt", {
            what: `${before.call} may or may not have happened: the run was killed before its answer`,
            remedy: "look at the vendor whether it did; it is not sent again on its own"
          });
        }
        let left = false;
        try {
          const sending = step.sending(walk, {
            expectations,
            idempotencyKey: before?.key,
            onLeaving: ({ changes: changes2, idempotencyKey }, call) => {
              const first = !left;
              left = true;
              return first && changes2 ? walk.journal?.leaving(at, walk.row, call(), idempotencyKey) : void 0;
            }
          });
          const paged = prepared.pages && await allPages(prepared, sending, walk);
          const sent = paged?.sent ?? await sendRequest(walk.workspace, prepared, sending);
          const names = step.keep(walk, paged?.kept ?? sent.kept);
          if (lost(sent))
            walk.doubt(`${sent.wire.method} ${walk.workspace.redactor.hide(sent.wire.shownUrl)} (echo ${sent.echo})`);
          if (undo && !refused(sent)) undo(walk, at);
          return { sent, kept: names, problems: sent.problems, told: paged && { pages: paged.pages } };
        } catch (error) {
          if (undo && left) undo(walk, at);
          throw error;
        }
      },
      restore(walk, at) {
        undo?.(walk, at);
      }
    };
  }
};
async function allPages(prepared, sending, { workspace }) {
  let kept = /* @__PURE__ */ new Map();
  for await (const page of pagesOf(workspace, prepared, sending)) {
    kept = gathered(kept, page.sent.kept);
    if (page.last) return { sent: page.sent, kept: [...kept.values()], pages: page.count };
  }
  throw new Problem("fault", { what: "pages ended without a last one" });
}
function refused({ outcome: { received, trouble } }) {
  return received !== void 0 && trouble === void 0 && received.status >= 400 && received.status < 500;
}
function lost({ request, outcome: { received, trouble } }) {
  return request.changes && received === void 0 && trouble !== void 0 && !neverLeft.has(trouble.code);
}
var neverLeft = /* @__PURE__ */ new Set(["name-lookup", "connection-refused", "connection-timeout", "tls-failed"]);

// src/core/trail/steps/trail.ts
var trail = {
  name: "trail",
  fits: (file) => "trail" in file,
  async plan(file, room) {
    const plan = await room.trail(file.trail, "trail");
    const label = file.name ?? plan.name;
    const gives = planGives(file.give, room, [...room.path, "give"]);
    const keeps = planGives(file.keep, room, [...room.path, "keep"]);
    return {
      kind: "trail",
      label,
      changes: plan.steps.reduce((sum, { changes }) => sum + changes, 0),
      requests: plan.steps.flatMap(({ requests }) => requests),
      takes: plan.steps.flatMap(({ takes }) => takes ?? []),
      secrets: [
        ...secretsIn(file.give, room.yaml, [...room.path, "give"]),
        ...plan.steps.flatMap(({ when, secrets }) => when ? [] : secrets)
      ],
      async walk(walk, at) {
        const { workspace } = walk;
        const inner = startScope(plan, workspace, giver(gives, workspace, walk.scope, label));
        const problem = await walk.steps(plan.steps, { ...walk, at, scope: inner, depth: walk.depth + 1 });
        if (problem) return { sent: void 0, kept: [], problems: [problem] };
        for (const [name, tree] of keeps) {
          const named = evaluated(tree, walkEvaluation(workspace, inner), `kept by step ${label}`);
          if (named) walk.scope.set(name, named);
        }
        return { sent: void 0, kept: [...keeps.keys()], problems: [] };
      }
    };
  }
};

// src/core/trail/steps/registry.ts
var stepKinds = [
  send,
  trail,
  forEach,
  poll,
  choose,
  compare,
  keep
];

// src/core/trail/plan.ts
async function planTrail(workspace, given, wishes = {}, above = []) {
  const { collection } = workspace;
  const { name, content, yaml } = collection.read("trail", given);
  if (above.includes(name)) {
    throw new Problem("circle", {
      what: `the trails ${[...above, name].join(", ")} lead to each other in a circle`,
      where: { file: yaml.file }
    });
  }
  const loads = [];
  const texts = [yaml.text];
  const placed = async (path, work) => {
    try {
      return await work();
    } catch (error) {
      throw asProblem(error).at(yaml.position(path));
    }
  };
  const planSteps = async (files, path) => {
    const steps2 = [];
    for (const [index, file] of files.entries()) {
      const at = [...path, index];
      const room = {
        workspace,
        collection,
        yaml,
        path: at,
        loads,
        request: (request, key) => placed([...at, key], async () => workspace.prepare(request)),
        trail: (trail2, key) => placed([...at, key], async () => {
          const inner = await planTrail(workspace, trail2, {}, [...above, name]);
          texts.push(inner.text);
          return inner;
        }),
        steps: planSteps
      };
      steps2.push(await planStep(file, room));
    }
    return steps2;
  };
  const steps = await planSteps(content.steps, ["steps"]);
  const plan = {
    name,
    steps,
    takes: [...Object.keys(content.inputs ?? {}), ...steps.flatMap(({ takes }) => takes ?? [])],
    inputs: planInputs(content.inputs, { yaml }, `trail ${name}`, loads),
    rows: rowsOf(content, wishes, yaml, loads, workspace),
    atOnce: wishes.atOnce ?? content["at-once"] ?? 1,
    undo: content.undo ?? "failure",
    table: content.table && planTable(content.table, yaml, ["table"], loads),
    text: texts.join("\n")
  };
  await Promise.all(loads);
  return plan;
}
function rowsOf({ rows }, wishes, yaml, loads, workspace) {
  if (wishes.rows !== void 0) return planRows(wishes.rows, yaml, loads, workspace);
  return rows === void 0 ? void 0 : planRows(rows, yaml, loads, workspace);
}
async function planStep(file, room) {
  const { yaml, loads, workspace, path } = room;
  const kind = stepKinds.find((one) => one.fits(file));
  if (!kind) throw new Problem("file-shape", { what: "the step is of no known kind", where: yaml.position(path) });
  const planned = await kind.plan(file, room);
  const { readText } = workspace;
  const when = file.when && compileCondition(file.when, [...path, "when"], { yaml, loads, readText });
  return { ...planned, when };
}
async function requestAsTrail(workspace, prepared, wishes = {}) {
  const { yaml, name } = prepared.plan;
  const loads = [];
  const nothingInside = () => Promise.reject(new Problem("circle", { what: "a request has neither trails nor steps" }));
  const room = {
    workspace,
    collection: workspace.collection,
    yaml,
    path: [],
    loads,
    request: async () => prepared,
    trail: nothingInside,
    steps: nothingInside
  };
  const step = await send.plan({ send: name }, room);
  const rows = wishes.rows === void 0 ? void 0 : planRows(wishes.rows, yaml, loads, workspace);
  await Promise.all(loads);
  return {
    name,
    steps: [{ ...step, when: void 0 }],
    takes: prepared.plan.inputs.map((input) => input.name),
    // Only what the command line names; the request has its defaults itself.
    inputs: prepared.plan.inputs.filter((input) => workspace.settings.has(input.name)),
    rows,
    atOnce: wishes.atOnce ?? 1,
    undo: "never",
    table: void 0,
    text: yaml.text
  };
}

export {
  walkEvaluation,
  demandSecrets,
  graver,
  manyAtOnce,
  placedCells,
  lineOf,
  openTable,
  settleTable,
  startScope,
  inputScope,
  fromCommandLine,
  planTrail,
  requestAsTrail
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvc2NvcGUudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvc3RhcnQtc2NvcGUudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvY29uZGl0aW9ucy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9yb3dzL3JlZ2lzdHJ5LnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3Jvd3MvY3N2LnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3Jvd3MvanNvbi50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9yb3dzL2pzb25sLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3Jvd3MvdG90YWwudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvcm93cy9yb3dzLXBsYW4udHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvZ2l2aW5nLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3NlY3JldHMtYWhlYWQudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvc3RlcHMvY2hvb3NlLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3N0ZXBzL3VuY2hhbmdpbmcudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvc3RlcHMvY29tcGFyZS50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9ncmF2aXR5LnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL21hbnkudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvdGFibGUudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvc3RlcHMvbWVtYmVycy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9zdGVwcy9mb3ItZWFjaC50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9zdGVwcy9rZWVwLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3N0ZXBzL3NlbnQtc3RlcC50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9zdGVwcy9wb2xsLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3N0ZXBzL3VuZG8tcGFydC50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9zdGVwcy9zZW5kLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3N0ZXBzL3RyYWlsLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3N0ZXBzL3JlZ2lzdHJ5LnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3BsYW4udHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBUaGUgbmFtZXMgb2Ygb25lIHdhbGs6IGlucHV0cywgcm93IGNvbHVtbnMgYW5kIGtlcHQgdmFsdWVzOyB3aGF0IGlzIGtlcHQgbGF0ZXIgcmVwbGFjZXMgd2hhdCB3YXMgdGhlcmUuICovXG5pbXBvcnQgdHlwZSB7IE5hbWVkLCBOYW1lcyB9IGZyb20gJy4uL2V4cHJlc3Npb24vbmFtZXMuanMnO1xuXG5leHBvcnQgY2xhc3MgU2NvcGUgaW1wbGVtZW50cyBOYW1lcyB7XG4gIHJlYWRvbmx5IGxheWVyczogcmVhZG9ubHkgc3RyaW5nW107XG5cbiAgLyoqIEBwYXJhbSBvdXRlciB0aGUgc2NvcGUgdGhhdCB0aGlzIG9uZSBzdGFuZHMgaW46IHNlZW4sIGFuZCBuZXZlciBjaGFuZ2VkICovXG4gIGNvbnN0cnVjdG9yKFxuICAgIHByaXZhdGUgcmVhZG9ubHkgdmFsdWVzOiBNYXA8c3RyaW5nLCBOYW1lZD4sXG4gICAgbGF5ZXI6IHN0cmluZyxcbiAgICBwcml2YXRlIHJlYWRvbmx5IG91dGVyPzogU2NvcGUsXG4gICkge1xuICAgIHRoaXMubGF5ZXJzID0gb3V0ZXIgPyBbbGF5ZXIsIC4uLm91dGVyLmxheWVyc10gOiBbbGF5ZXJdO1xuICB9XG5cbiAgbG9va3VwKG5hbWU6IHN0cmluZyk6IE5hbWVkIHwgdW5kZWZpbmVkIHtcbiAgICByZXR1cm4gdGhpcy52YWx1ZXMuZ2V0KG5hbWUpID8/IHRoaXMub3V0ZXI/Lmxvb2t1cChuYW1lKTtcbiAgfVxuXG4gICprbm93bigpOiBJdGVyYWJsZTxzdHJpbmc+IHtcbiAgICB5aWVsZCogdGhpcy52YWx1ZXMua2V5cygpO1xuICAgIGlmICh0aGlzLm91dGVyKSB5aWVsZCogdGhpcy5vdXRlci5rbm93bigpO1xuICB9XG5cbiAgc2V0KG5hbWU6IHN0cmluZywgbmFtZWQ6IE5hbWVkKTogdm9pZCB7XG4gICAgdGhpcy52YWx1ZXMuc2V0KG5hbWUsIG5hbWVkKTtcbiAgfVxuXG4gIC8qKiBBcyBpdCBpcyBub3c7IHdoYXQgaXMga2VwdCBsYXRlciBkb2VzIG5vdCBjaGFuZ2UgaXQuICovXG4gIHNuYXBzaG90KCk6IFNjb3BlIHtcbiAgICByZXR1cm4gbmV3IFNjb3BlKG5ldyBNYXAodGhpcy52YWx1ZXMpLCB0aGlzLmxheWVyc1swXSA/PyAnJywgdGhpcy5vdXRlcj8uc25hcHNob3QoKSk7XG4gIH1cbn1cbiIsICIvKiogVGhlIG5hbWVzIHRoYXQgYSB0cmFpbCBzdGFydHMgd2l0aDogaXRzIGlucHV0cywgYW5kIHRoZSBjb2x1bW5zIG9mIGl0cyByb3cuICovXG5pbXBvcnQgeyB0eXBlIElucHV0UGxhbiwgaW5wdXRWYWx1ZSwgbWlzc2luZ0lucHV0IH0gZnJvbSAnLi4vY29sbGVjdGlvbi9pbnB1dHMuanMnO1xuaW1wb3J0IHsgdmFyaWFibGVOYW1lcyB9IGZyb20gJy4uL2NvbGxlY3Rpb24vbGF5ZXJzLmpzJztcbmltcG9ydCB7IHR5cGUgTmFtZWQsIG5vTmFtZXMgfSBmcm9tICcuLi9leHByZXNzaW9uL25hbWVzLmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUgfSBmcm9tICcuLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB0eXBlIHsgUm93IH0gZnJvbSAnLi9yb3dzL3Jvdy1zb3VyY2UuanMnO1xuaW1wb3J0IHsgU2NvcGUgfSBmcm9tICcuL3Njb3BlLmpzJztcbmltcG9ydCB0eXBlIHsgVHJhaWxQbGFuIH0gZnJvbSAnLi9zdGVwLWtpbmQuanMnO1xuaW1wb3J0IHR5cGUgeyBXb3Jrc3BhY2UgfSBmcm9tICcuL3dvcmtzcGFjZS5qcyc7XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gaW5wdXQtbWlzc2luZywgaW5wdXQtdmFsdWUgKi9cbmV4cG9ydCBmdW5jdGlvbiBzdGFydFNjb3BlKFxuICBwbGFuOiBUcmFpbFBsYW4sXG4gIHdvcmtzcGFjZTogV29ya3NwYWNlLFxuICBnaXZlbjogKGlucHV0OiBzdHJpbmcpID0+IE5hbWVkIHwgdW5kZWZpbmVkLFxuICByb3c/OiBSb3csXG4pOiBTY29wZSB7XG4gIGNvbnN0IHZhbHVlcyA9IG5ldyBNYXA8c3RyaW5nLCBOYW1lZD4oKTtcbiAgaWYgKHJvdykge1xuICAgIGNvbnN0IG9yaWdpbiA9IGByb3cgJHtyb3cubnVtYmVyfSBvZiAke3BsYW4ucm93cz8uZnJvbX1gO1xuICAgIHZhbHVlcy5zZXQoJ3JvdycsIHsgdmFsdWU6IHJvdy5jb2x1bW5zLCBvcmlnaW4gfSk7XG4gICAgZm9yIChjb25zdCBuYW1lIGluIHJvdy5jb2x1bW5zKSB2YWx1ZXMuc2V0KG5hbWUsIHsgdmFsdWU6IHJvdy5jb2x1bW5zW25hbWVdIGFzIFZhbHVlLCBvcmlnaW4gfSk7XG4gIH1cbiAgcmV0dXJuIHdpdGhJbnB1dHMocGxhbiwgd29ya3NwYWNlLCB2YWx1ZXMsIGdpdmVuLCAoaW5wdXQpID0+IHtcbiAgICB0aHJvdyBtaXNzaW5nSW5wdXQoaW5wdXQpO1xuICB9KTtcbn1cblxuLyoqIFRoZSBpbnB1dHMgYXMgZmFyIGFzIHRoZXkgYXJlIGtub3duIGJlZm9yZSB0aGVyZSBpcyBhIHJvdywgZm9yIHRoZSBleHByZXNzaW9uIHRoYXQgZ2l2ZXMgdGhlIHJvd3MuICovXG5leHBvcnQgZnVuY3Rpb24gaW5wdXRTY29wZShwbGFuOiBUcmFpbFBsYW4sIHdvcmtzcGFjZTogV29ya3NwYWNlLCBnaXZlbjogKGlucHV0OiBzdHJpbmcpID0+IE5hbWVkIHwgdW5kZWZpbmVkKTogU2NvcGUge1xuICByZXR1cm4gd2l0aElucHV0cyhwbGFuLCB3b3Jrc3BhY2UsIG5ldyBNYXAoKSwgZ2l2ZW4sICgpID0+IHVuZGVmaW5lZCk7XG59XG5cbmZ1bmN0aW9uIHdpdGhJbnB1dHMoXG4gIHBsYW46IFRyYWlsUGxhbixcbiAgd29ya3NwYWNlOiBXb3Jrc3BhY2UsXG4gIHZhbHVlczogTWFwPHN0cmluZywgTmFtZWQ+LFxuICBnaXZlbjogKGlucHV0OiBzdHJpbmcpID0+IE5hbWVkIHwgdW5kZWZpbmVkLFxuICBtaXNzaW5nOiAoaW5wdXQ6IElucHV0UGxhbikgPT4gdm9pZCxcbik6IFNjb3BlIHtcbiAgY29uc3Qgc2NvcGUgPSBuZXcgU2NvcGUodmFsdWVzLCBgdmFsdWVzIG9mIHRyYWlsICR7cGxhbi5uYW1lfWApO1xuICBpZiAocGxhbi5pbnB1dHMubGVuZ3RoID09PSAwKSByZXR1cm4gc2NvcGU7XG4gIGNvbnN0IHN1cnJvdW5kaW5ncyA9IHsgd29ybGQ6IHdvcmtzcGFjZS53b3JsZCgpLCBvblNlY3JldDogd29ya3NwYWNlLnJlZGFjdG9yLmFkZCB9O1xuICBjb25zdCBuYW1lcyA9IHZhcmlhYmxlTmFtZXMod29ya3NwYWNlLmxheWVycywgbm9OYW1lcywgc3Vycm91bmRpbmdzKTtcbiAgZm9yIChjb25zdCBpbnB1dCBvZiBwbGFuLmlucHV0cykge1xuICAgIGNvbnN0IG5hbWVkID0gaW5wdXRWYWx1ZShpbnB1dCwgZ2l2ZW4oaW5wdXQubmFtZSkgPz8gdmFsdWVzLmdldChpbnB1dC5uYW1lKSwgbmFtZXMsIHN1cnJvdW5kaW5ncyk7XG4gICAgaWYgKG5hbWVkKSBzY29wZS5zZXQoaW5wdXQubmFtZSwgbmFtZWQpO1xuICAgIGVsc2UgbWlzc2luZyhpbnB1dCk7XG4gIH1cbiAgcmV0dXJuIHNjb3BlO1xufVxuXG4vKiogV2hhdCBgLS1zZXRgIGdpdmVzIHRvIGlucHV0cy4gKi9cbmV4cG9ydCBjb25zdCBmcm9tQ29tbWFuZExpbmUgPVxuICAoeyBzZXR0aW5ncyB9OiBXb3Jrc3BhY2UpID0+XG4gIChpbnB1dDogc3RyaW5nKTogTmFtZWQgfCB1bmRlZmluZWQgPT4ge1xuICAgIGNvbnN0IHZhbHVlID0gc2V0dGluZ3MuZ2V0KGlucHV0KTtcbiAgICByZXR1cm4gdmFsdWUgPT09IHVuZGVmaW5lZCA/IHVuZGVmaW5lZCA6IHsgdmFsdWUsIG9yaWdpbjogJy0tc2V0JyB9O1xuICB9O1xuIiwgIi8qKiBgd2hlbmA6IHdoZXRoZXIgYSBzdGVwIGlzIHRha2VuLCBieSBtYXRjaGVycyBvdmVyIHRoZSBuYW1lcyBvZiB0aGUgd2Fsay4gKi9cbmltcG9ydCB0eXBlIHsgWWFtbEZpbGUgfSBmcm9tICcuLi9jb2xsZWN0aW9uL3lhbWwuanMnO1xuaW1wb3J0IHR5cGUgeyBMb2FkcyB9IGZyb20gJy4uL2V4cHJlc3Npb24vY29tcGlsZS5qcyc7XG5pbXBvcnQgeyB0eXBlIEV2YWx1YXRpb24sIG9taXR0ZWQgfSBmcm9tICcuLi9leHByZXNzaW9uL2V2YWx1YXRpb24uanMnO1xuaW1wb3J0IHsgcGFyc2VFeHByZXNzaW9uIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi9wYXJzZXIuanMnO1xuaW1wb3J0IHsgY29tcGlsZVRyZWUgfSBmcm9tICcuLi9leHByZXNzaW9uL3RyZWUuanMnO1xuaW1wb3J0IHsgY29tcGlsZU1hdGNoZXJzIH0gZnJvbSAnLi4vbWF0Y2hlci9jb21waWxlLmpzJztcbmltcG9ydCB0eXBlIHsgQ2hlY2sgfSBmcm9tICcuLi9tYXRjaGVyL21hdGNoZXIuanMnO1xuaW1wb3J0IHsgYXNQcm9ibGVtLCBQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IGlzVmFsdWVNYXAsIHR5cGUgVmFsdWUgfSBmcm9tICcuLi92YWx1ZS93cml0dGVuLmpzJztcblxuZXhwb3J0IHR5cGUgQ29uZGl0aW9uID0gKGV2YWx1YXRpb246IEV2YWx1YXRpb24pID0+IGJvb2xlYW47XG5cbmludGVyZmFjZSBSb29tIHtcbiAgcmVhZG9ubHkgeWFtbDogWWFtbEZpbGU7XG4gIHJlYWRvbmx5IGxvYWRzOiBMb2FkcztcbiAgcmVhZG9ubHkgcmVhZFRleHQ6IChwYXRoOiBzdHJpbmcpID0+IHN0cmluZztcbn1cblxuLyoqXG4gKiBBbGwgbWF0Y2hlcnMgb2YgYSBzZXQgbXVzdCBob2xkOyBgYW55YCBpcyBhIGxpc3Qgb2Ygc2V0cywgb25lIG9mIHdoaWNoIG11c3QsIGFuZCBgbm90YCBhIHNldCB0aGF0IG11c3Qgbm90LlxuICogQHRocm93cyBQcm9ibGVtIG1hdGNoZXItc2hhcGUsIGV4cHJlc3Npb24tc3ludGF4LCB3aXRoIGl0cyBwbGFjZSBpbiB0aGUgZmlsZVxuICovXG5leHBvcnQgZnVuY3Rpb24gY29tcGlsZUNvbmRpdGlvbihcbiAgc2V0OiBSZWFkb25seTxSZWNvcmQ8c3RyaW5nLCBWYWx1ZT4+LFxuICBwYXRoOiByZWFkb25seSAoc3RyaW5nIHwgbnVtYmVyKVtdLFxuICByb29tOiBSb29tLFxuKTogQ29uZGl0aW9uIHtcbiAgY29uc3QgcGFydHMgPSBPYmplY3QuZW50cmllcyhzZXQpLm1hcCgoW25hbWUsIHZhbHVlXSk6IENvbmRpdGlvbiA9PiB7XG4gICAgY29uc3QgYXQgPSBbLi4ucGF0aCwgbmFtZV07XG4gICAgdHJ5IHtcbiAgICAgIGlmIChuYW1lID09PSAnYW55JyAmJiBBcnJheS5pc0FycmF5KHZhbHVlKSkge1xuICAgICAgICBjb25zdCBzZXRzID0gKHZhbHVlIGFzIHJlYWRvbmx5IFZhbHVlW10pLm1hcCgob25lLCBpbmRleCkgPT5cbiAgICAgICAgICBjb21waWxlQ29uZGl0aW9uKGFzU2V0KG9uZSksIFsuLi5hdCwgaW5kZXhdLCByb29tKSxcbiAgICAgICAgKTtcbiAgICAgICAgcmV0dXJuIChldmFsdWF0aW9uKSA9PiBzZXRzLnNvbWUoKGhvbGRzKSA9PiBob2xkcyhldmFsdWF0aW9uKSk7XG4gICAgICB9XG4gICAgICBpZiAobmFtZSA9PT0gJ25vdCcgJiYgaXNWYWx1ZU1hcCh2YWx1ZSkpIHtcbiAgICAgICAgY29uc3QgaW5uZXIgPSBjb21waWxlQ29uZGl0aW9uKGFzU2V0KHZhbHVlKSwgYXQsIHJvb20pO1xuICAgICAgICByZXR1cm4gKGV2YWx1YXRpb24pID0+ICFpbm5lcihldmFsdWF0aW9uKTtcbiAgICAgIH1cbiAgICAgIHJldHVybiBvdmVyTmFtZShuYW1lLCB2YWx1ZSwgYXQsIHJvb20pO1xuICAgIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgICB0aHJvdyBhc1Byb2JsZW0oZXJyb3IpLmF0KHJvb20ueWFtbC5wb3NpdGlvbihhdCkpO1xuICAgIH1cbiAgfSk7XG4gIHJldHVybiAoZXZhbHVhdGlvbikgPT4gcGFydHMuZXZlcnkoKGhvbGRzKSA9PiBob2xkcyhldmFsdWF0aW9uKSk7XG59XG5cbmZ1bmN0aW9uIGFzU2V0KHZhbHVlOiBWYWx1ZSk6IFJlYWRvbmx5PFJlY29yZDxzdHJpbmcsIFZhbHVlPj4ge1xuICBpZiAoaXNWYWx1ZU1hcCh2YWx1ZSkpIHJldHVybiB2YWx1ZSBhcyBSZWFkb25seTxSZWNvcmQ8c3RyaW5nLCBWYWx1ZT4+O1xuICB0aHJvdyBuZXcgUHJvYmxlbSgnbWF0Y2hlci1zaGFwZScsIHsgd2hhdDogJ2FueSBpcyBhIGxpc3Qgb2YgbWFwczogbmFtZXMsIGVhY2ggd2l0aCBpdHMgbWF0Y2hlcnMnIH0pO1xufVxuXG4vKiogQSBuYW1lLCBvciBhIG1lbWJlciBvZiBvbmUgc3VjaCBhcyBgdmVzc2VsLmtpbmRgOyB3aGF0IGRvZXMgbm90IGV4aXN0IGlzIG5vdGhpbmcuICovXG5mdW5jdGlvbiBvdmVyTmFtZShcbiAgbmFtZTogc3RyaW5nLFxuICB2YWx1ZTogVmFsdWUsXG4gIGF0OiByZWFkb25seSAoc3RyaW5nIHwgbnVtYmVyKVtdLFxuICB7IHlhbWwsIGxvYWRzLCByZWFkVGV4dCB9OiBSb29tLFxuKTogQ29uZGl0aW9uIHtcbiAgLy8gQSBjb2x1bW4gbWF5IGJlIGNhbGxlZCB3aGF0ZXZlciBpdCBsaWtlczsgb25seSB3aGF0IG5vIG5hbWUgaXMgbWF5IGJlIGEgd2F5IGludG8gb25lLlxuICBjb25zdCB3YXkgPSAvWy5bXS8udGVzdChuYW1lKSA/IHdheUludG8obmFtZSkgOiB1bmRlZmluZWQ7XG4gIGNvbnN0IHRyZWUgPSBjb21waWxlVHJlZSh2YWx1ZSwgKGlubmVyKSA9PiB5YW1sLnBvc2l0aW9uKFsuLi5hdCwgLi4uaW5uZXJdKSwgbG9hZHMpO1xuICBjb25zdCByZW1ha2UgPSAoZXhwZWN0ZWQ6IFZhbHVlLCBtb3JlOiBMb2Fkcyk6IENoZWNrID0+XG4gICAgY29tcGlsZU1hdGNoZXJzKGV4cGVjdGVkLCB7IHN1YmplY3Q6IHsgc3RyaWN0OiBmYWxzZSB9LCBsb2FkczogbW9yZSwgcmVhZFRleHQgfSk7XG4gIGNvbnN0IGZpeGVkID0gdHJlZS5jb25zdGFudCA9PT0gdW5kZWZpbmVkID8gdW5kZWZpbmVkIDogcmVtYWtlKHRyZWUuY29uc3RhbnQsIGxvYWRzKTtcbiAgcmV0dXJuIChldmFsdWF0aW9uKSA9PiB7XG4gICAgY29uc3QgZm91bmQgPSBldmFsdWF0aW9uLm5hbWVzLmxvb2t1cChuYW1lKT8udmFsdWUgPz8gd2F5Py4oZXZhbHVhdGlvbik7XG4gICAgbGV0IGNoZWNrID0gZml4ZWQ7XG4gICAgaWYgKCFjaGVjaykge1xuICAgICAgY29uc3QgZXhwZWN0ZWQgPSB0cmVlLmV2YWx1YXRlKGV2YWx1YXRpb24pO1xuICAgICAgY29uc3QgbW9yZTogTG9hZHMgPSBbXTtcbiAgICAgIGNoZWNrID0gcmVtYWtlKGV4cGVjdGVkID09PSBvbWl0dGVkID8gbnVsbCA6IGV4cGVjdGVkLCBtb3JlKTtcbiAgICAgIGlmIChtb3JlLmxlbmd0aCA+IDApIHtcbiAgICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ21hdGNoZXItc2hhcGUnLCB7XG4gICAgICAgICAgd2hhdDogYHRoZSBjb25kaXRpb24gb3ZlciAke25hbWV9IG5lZWRzIGEgcGF0dGVybiBvciBhIHNjaGVtYSB0aGF0IGlzIHdyaXR0ZW4gb3V0YCxcbiAgICAgICAgICByZW1lZHk6ICduYW1lIHRoZSB2YWx1ZSBpbiBhIHN0ZXAgd2l0aCBrZWVwOiBiZWZvcmUgaXQnLFxuICAgICAgICB9KTtcbiAgICAgIH1cbiAgICB9XG4gICAgcmV0dXJuIGNoZWNrLm1pc3MoZm91bmQsIHt9KSA9PT0gdW5kZWZpbmVkO1xuICB9O1xufVxuXG4vKiogV2hhdCBzdGFuZHMgYXQgdGhlIGVuZCBvZiBhIHdheSBzdWNoIGFzIGB2ZXNzZWwubWFzdHNbMV1gOyB1bmRlZmluZWQgd2hlcmUgaXQgbGVhZHMgbm93aGVyZS4gKi9cbmZ1bmN0aW9uIHdheUludG8odGV4dDogc3RyaW5nKTogKGV2YWx1YXRpb246IEV2YWx1YXRpb24pID0+IFZhbHVlIHwgdW5kZWZpbmVkIHtcbiAgY29uc3Qgbm9kZSA9IHBhcnNlRXhwcmVzc2lvbih0ZXh0KTtcbiAgY29uc3Qga2V5cyA9IG5vZGUua2luZCA9PT0gJ3BhdGgnID8gbm9kZS5zdGVwcy5tYXAoKHN0ZXApID0+ICgna2V5JyBpbiBzdGVwID8gc3RlcC5rZXkgOiB1bmRlZmluZWQpKSA6IFtdO1xuICBpZiAobm9kZS5raW5kICE9PSAncGF0aCcgfHwga2V5cy5pbmNsdWRlcyh1bmRlZmluZWQpKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ21hdGNoZXItc2hhcGUnLCB7XG4gICAgICB3aGF0OiBgYSBjb25kaXRpb24gaXMgb3ZlciBhIG5hbWUsIG9yIGEgbWVtYmVyIG9mIG9uZSwgbm90IG92ZXIgJHt0ZXh0fWAsXG4gICAgICByZW1lZHk6ICduYW1lIHRoZSB2YWx1ZSBpbiBhIHN0ZXAgd2l0aCBrZWVwOiBiZWZvcmUgaXQnLFxuICAgIH0pO1xuICB9XG4gIHJldHVybiAoeyBuYW1lcyB9KSA9PiB7XG4gICAgbGV0IHZhbHVlID0gbmFtZXMubG9va3VwKG5vZGUubmFtZSk/LnZhbHVlO1xuICAgIGZvciAoY29uc3Qga2V5IG9mIGtleXMgYXMgKHN0cmluZyB8IG51bWJlcilbXSkge1xuICAgICAgaWYgKEFycmF5LmlzQXJyYXkodmFsdWUpKSB2YWx1ZSA9ICh2YWx1ZSBhcyByZWFkb25seSBWYWx1ZVtdKS5hdChOdW1iZXIoa2V5KSk7XG4gICAgICBlbHNlIHZhbHVlID0gaXNWYWx1ZU1hcCh2YWx1ZSkgJiYgT2JqZWN0Lmhhc093bih2YWx1ZSwga2V5KSA/IHZhbHVlW2tleV0gOiB1bmRlZmluZWQ7XG4gICAgfVxuICAgIHJldHVybiB2YWx1ZTtcbiAgfTtcbn1cbiIsICIvKiogQWxsIGZvcm1hdHMgb2Ygcm93cy4gQSBuZXcgb25lIGlzIG9uZSBmaWxlIGFuZCBvbmUgbGluZSBoZXJlLiAqL1xuaW1wb3J0IHsgY3JlYXRlUmVhZFN0cmVhbSB9IGZyb20gJ25vZGU6ZnMnO1xuaW1wb3J0IHR5cGUgeyBSZWFkYWJsZSB9IGZyb20gJ25vZGU6c3RyZWFtJztcbmltcG9ydCB0eXBlIHsgTG9hZHMgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL2NvbXBpbGUuanMnO1xuaW1wb3J0IHsgYXNQcm9ibGVtLCB0eXBlIEZpbGVQb3NpdGlvbiwgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBwYXRoSW5zaWRlIH0gZnJvbSAnLi4vLi4vc3RvcmFnZS9pbnNpZGUuanMnO1xuaW1wb3J0IHR5cGUgeyBWYWx1ZU1hcCB9IGZyb20gJy4uLy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHsgY3N2IH0gZnJvbSAnLi9jc3YuanMnO1xuaW1wb3J0IHsganNvbiB9IGZyb20gJy4vanNvbi5qcyc7XG5pbXBvcnQgeyBqc29ubCB9IGZyb20gJy4vanNvbmwuanMnO1xuaW1wb3J0IHR5cGUgeyBSb3dTb3VyY2UgfSBmcm9tICcuL3Jvdy1zb3VyY2UuanMnO1xuXG5jb25zdCByb3dTb3VyY2VzOiByZWFkb25seSBSb3dTb3VyY2VbXSA9IFtjc3YsIGpzb24sIGpzb25sXTtcblxuZnVuY3Rpb24gcm93U291cmNlT2YoZmlsZTogc3RyaW5nKTogUm93U291cmNlIHtcbiAgY29uc3QgZm91bmQgPSByb3dTb3VyY2VzLmZpbmQoKHsgZW5kaW5nIH0pID0+IGVuZGluZy50ZXN0KGZpbGUpKTtcbiAgaWYgKGZvdW5kKSByZXR1cm4gZm91bmQ7XG4gIHRocm93IG5ldyBQcm9ibGVtKCdkYXRhLXNoYXBlJywge1xuICAgIHdoYXQ6IGByb3dzIGFyZSByZWFkIGZyb20gLmNzdiwgLmpzb24gYW5kIC5qc29ubCBmaWxlcywgbm90IGZyb20gJHtmaWxlfWAsXG4gIH0pO1xufVxuXG4vKiogTG9va3MgYXQgYSBmaWxlIGJlZm9yZSBhbnl0aGluZyBpcyBzZW50LiBAdGhyb3dzIFByb2JsZW0gZmlsZS1ub3QtZm91bmQsIGZpbGUtb3V0c2lkZSwgZGF0YS1zaGFwZTogbm8gZm9ybWF0IGhhcyB0aGF0IGVuZGluZyAqL1xuZXhwb3J0IGZ1bmN0aW9uIHJlYWR5Um93cyhyb290OiBzdHJpbmcsIGZpbGU6IHN0cmluZywgbG9hZHM6IExvYWRzLCB3aGVyZTogRmlsZVBvc2l0aW9uKTogdm9pZCB7XG4gIHRyeSB7XG4gICAgY29uc3QgeyBsb2FkIH0gPSByb3dTb3VyY2VPZihmaWxlKTtcbiAgICBwYXRoSW5zaWRlKHJvb3QsIGZpbGUpO1xuICAgIGlmIChsb2FkKSBsb2Fkcy5wdXNoKGxvYWQoKSk7XG4gIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgdGhyb3cgYXNQcm9ibGVtKGVycm9yKS5hdCh3aGVyZSk7XG4gIH1cbn1cblxuLyoqIFRoZSByb3dzIG9mIGEgZmlsZSBvZiB0aGUgY29sbGVjdGlvbi4gQHRocm93cyBQcm9ibGVtIGZpbGUtbm90LWZvdW5kLCBmaWxlLW91dHNpZGUsIGRhdGEtc2hhcGUgKi9cbmV4cG9ydCBmdW5jdGlvbiBmaWxlUm93cyhyb290OiBzdHJpbmcsIGZpbGU6IHN0cmluZyk6IEFzeW5jSXRlcmFibGU8VmFsdWVNYXA+IHtcbiAgY29uc3Qgc291cmNlID0gcm93U291cmNlT2YoZmlsZSk7XG4gIHJldHVybiBzb3VyY2UucmVhZChjcmVhdGVSZWFkU3RyZWFtKHBhdGhJbnNpZGUocm9vdCwgZmlsZSkpLCBmaWxlKTtcbn1cblxuLyoqIFJvd3MgZnJvbSBhIHN0cmVhbSB3aXRob3V0IGEgbmFtZTogYSBsaXN0LCBsaW5lcyBvZiBvYmplY3RzLCBvciBDU1YsIGFzIGl0cyBmaXJzdCBsZXR0ZXIgc2F5cy4gKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiogc3RyZWFtUm93cyhzdHJlYW06IFJlYWRhYmxlKTogQXN5bmNHZW5lcmF0b3I8VmFsdWVNYXA+IHtcbiAgY29uc3QgbmFtZSA9ICdzdGFuZGFyZCBpbnB1dCc7XG4gIGNvbnN0IGZpcnN0ID0gYXdhaXQgZmlyc3RMZXR0ZXIoc3RyZWFtKTtcbiAgaWYgKGZpcnN0ID09PSB1bmRlZmluZWQpIHJldHVybjtcbiAgeWllbGQqIChmaXJzdCA9PT0gJ1snID8ganNvbiA6IGZpcnN0ID09PSAneycgPyBqc29ubCA6IGNzdikucmVhZChzdHJlYW0sIG5hbWUpO1xufVxuXG4vKiogV2hhdCBpcyByZWFkIGZvciBpdCBpcyBwdXQgYmFjay4gKi9cbmFzeW5jIGZ1bmN0aW9uIGZpcnN0TGV0dGVyKHN0cmVhbTogUmVhZGFibGUpOiBQcm9taXNlPHN0cmluZyB8IHVuZGVmaW5lZD4ge1xuICBmb3IgKDs7KSB7XG4gICAgY29uc3QgY2h1bmsgPSBzdHJlYW0ucmVhZCgpIGFzIEJ1ZmZlciB8IG51bGw7XG4gICAgaWYgKGNodW5rID09PSBudWxsKSB7XG4gICAgICBpZiAoc3RyZWFtLnJlYWRhYmxlRW5kZWQgfHwgc3RyZWFtLmRlc3Ryb3llZCkgcmV0dXJuIHVuZGVmaW5lZDtcbiAgICAgIGF3YWl0IG5ldyBQcm9taXNlPHZvaWQ+KChyZXNvbHZlKSA9PiB7XG4gICAgICAgIGNvbnN0IGdvID0gKCk6IHZvaWQgPT4ge1xuICAgICAgICAgIHN0cmVhbS5vZmYoJ3JlYWRhYmxlJywgZ28pLm9mZignZW5kJywgZ28pLm9mZignZXJyb3InLCBnbyk7XG4gICAgICAgICAgcmVzb2x2ZSgpO1xuICAgICAgICB9O1xuICAgICAgICBzdHJlYW0ub24oJ3JlYWRhYmxlJywgZ28pLm9uKCdlbmQnLCBnbykub24oJ2Vycm9yJywgZ28pO1xuICAgICAgfSk7XG4gICAgICBjb250aW51ZTtcbiAgICB9XG4gICAgY29uc3QgdGV4dCA9IGNodW5rLnRvU3RyaW5nKCd1dGY4JykucmVwbGFjZSgvXlxcdUZFRkYvLCAnJyk7XG4gICAgY29uc3QgZm91bmQgPSAvXFxTLy5leGVjKHRleHQpPy5bMF07XG4gICAgaWYgKGZvdW5kID09PSB1bmRlZmluZWQpIGNvbnRpbnVlO1xuICAgIHN0cmVhbS51bnNoaWZ0KGNodW5rKTtcbiAgICByZXR1cm4gZm91bmQ7XG4gIH1cbn1cbiIsICIvKiogQ1NWIChSRkMgNDE4MCkgd2l0aCBhIGZpcnN0IGxpbmUgb2YgbmFtZXMsIGJ5IGEgd2VsbC1rbm93biBsaWJyYXJ5LiAqL1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgdHlwZSB7IFJvd1NvdXJjZSB9IGZyb20gJy4vcm93LXNvdXJjZS5qcyc7XG5cbmxldCBwYXJzZTogdHlwZW9mIGltcG9ydCgnY3N2LXBhcnNlJykucGFyc2UgfCB1bmRlZmluZWQ7XG5cbmFzeW5jIGZ1bmN0aW9uIGxvYWQoKTogUHJvbWlzZTxOb25OdWxsYWJsZTx0eXBlb2YgcGFyc2U+PiB7XG4gIHBhcnNlID8/PSAoYXdhaXQgaW1wb3J0KCdjc3YtcGFyc2UnKSkucGFyc2U7XG4gIHJldHVybiBwYXJzZTtcbn1cblxuZXhwb3J0IGNvbnN0IGNzdjogUm93U291cmNlID0ge1xuICBuYW1lOiAnY3N2JyxcbiAgZW5kaW5nOiAvXFwuY3N2JC9pLFxuICBsb2FkLFxuICBhc3luYyAqcmVhZChzdHJlYW0sIGZpbGUpIHtcbiAgICBjb25zdCBwYXJzZXIgPSBzdHJlYW0ucGlwZSgoYXdhaXQgbG9hZCgpKSh7IGNvbHVtbnM6IHRydWUsIGJvbTogdHJ1ZSwgc2tpcF9lbXB0eV9saW5lczogdHJ1ZSwgdHJpbTogZmFsc2UgfSkpO1xuICAgIC8vIEEgcGlwZSBkb2VzIG5vdCBoYW5kIG9uIHdoYXQgZ29lcyB3cm9uZyB3aGVyZSBpdCByZWFkcy5cbiAgICBzdHJlYW0ub24oJ2Vycm9yJywgKGVycm9yKSA9PiBwYXJzZXIuZGVzdHJveShlcnJvcikpO1xuICAgIGxldCB3YWtlID0gKCk6IHZvaWQgPT4gdW5kZWZpbmVkO1xuICAgIGZvciAoY29uc3QgZXZlbnQgb2YgWydyZWFkYWJsZScsICdlbmQnLCAnY2xvc2UnLCAnZXJyb3InXSkgcGFyc2VyLm9uKGV2ZW50LCAoKSA9PiB3YWtlKCkpO1xuICAgIHRyeSB7XG4gICAgICAvLyBUYWtlbiBvdXQgYnkgaGFuZDogdGhlIHN0cmVhbSdzIG93biB3YXkgZ29lcyB0aHJvdWdoIGEgZ2VuZXJhdG9yIG1vcmUgZm9yIGVhY2ggcm93LlxuICAgICAgd2hpbGUgKCFwYXJzZXIuZGVzdHJveWVkKSB7XG4gICAgICAgIGNvbnN0IGNvbHVtbnMgPSBwYXJzZXIucmVhZCgpIGFzIFJlY29yZDxzdHJpbmcsIHN0cmluZz4gfCBudWxsO1xuICAgICAgICBpZiAoY29sdW1ucyAhPT0gbnVsbCkgeWllbGQgY29sdW1ucztcbiAgICAgICAgZWxzZSBpZiAocGFyc2VyLnJlYWRhYmxlRW5kZWQpIHJldHVybjtcbiAgICAgICAgZWxzZSB7XG4gICAgICAgICAgYXdhaXQgbmV3IFByb21pc2U8dm9pZD4oKHJlc29sdmUpID0+IHtcbiAgICAgICAgICAgIHdha2UgPSByZXNvbHZlO1xuICAgICAgICAgIH0pO1xuICAgICAgICB9XG4gICAgICB9XG4gICAgICBpZiAocGFyc2VyLmVycm9yZWQpIHRocm93IGV4cGxhaW5lZChwYXJzZXIuZXJyb3JlZCwgZmlsZSk7XG4gICAgfSBmaW5hbGx5IHtcbiAgICAgIHN0cmVhbS5kZXN0cm95KCk7XG4gICAgICBwYXJzZXIuZGVzdHJveSgpO1xuICAgIH1cbiAgfSxcbn07XG5cbmZ1bmN0aW9uIGV4cGxhaW5lZChlcnJvcjogRXJyb3IgJiB7IGxpbmVzPzogbnVtYmVyIH0sIGZpbGU6IHN0cmluZyk6IFByb2JsZW0ge1xuICBpZiAoZXJyb3IgaW5zdGFuY2VvZiBQcm9ibGVtKSByZXR1cm4gZXJyb3I7XG4gIHJldHVybiBuZXcgUHJvYmxlbShcbiAgICAnZGF0YS1zaGFwZScsXG4gICAgeyB3aGF0OiBgJHtmaWxlfSBpcyBub3Qgd2VsbC1mb3JtZWQgQ1NWYCwgd2hlcmU6IHsgZmlsZSwgbGluZTogZXJyb3IubGluZXMgfSwgY2F1c2U6IGVycm9yLm1lc3NhZ2UgfSxcbiAgICB7IGNhdXNlOiBlcnJvciB9LFxuICApO1xufVxuIiwgIi8qKlxuICogQSBKU09OIGxpc3Qgb2Ygb2JqZWN0cywgcmVhZCBpdGVtIGJ5IGl0ZW06IHdoZXJlIGVhY2ggYmVnaW5zIGFuZCBlbmRzIGlzIGZvdW5kIGJ5IGl0cyBicmFja2V0cywgc28gdGhhdCBhIGxpc3Qgb2YgYW55XG4gKiBsZW5ndGggbmVlZHMgdGhlIG1lbW9yeSBvZiBvbmUgaXRlbSwgYW5kIG51bWJlcnMga2VlcCB0aGUgZGlnaXRzIHRoZXkgYXJlIHdyaXR0ZW4gd2l0aCAoUkZDIDgyNTkpLlxuICovXG5pbXBvcnQgdHlwZSB7IFJlYWRhYmxlIH0gZnJvbSAnbm9kZTpzdHJlYW0nO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBwYXJzZUpzb24gfSBmcm9tICcuLi8uLi92YWx1ZS9qc29uLXRleHQuanMnO1xuaW1wb3J0IHsgaXNWYWx1ZU1hcCwgdHlwZSBWYWx1ZSB9IGZyb20gJy4uLy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHR5cGUgeyBSb3dTb3VyY2UgfSBmcm9tICcuL3Jvdy1zb3VyY2UuanMnO1xuXG5leHBvcnQgY29uc3QganNvbjogUm93U291cmNlID0ge1xuICBuYW1lOiAnanNvbicsXG4gIGVuZGluZzogL1xcLmpzb24kL2ksXG4gIGFzeW5jICpyZWFkKHN0cmVhbSwgZmlsZSkge1xuICAgIGxldCBudW1iZXIgPSAwO1xuICAgIGZvciBhd2FpdCAoY29uc3QgdGV4dCBvZiBpdGVtc0luKHN0cmVhbSwgZmlsZSkpIHtcbiAgICAgIG51bWJlciArPSAxO1xuICAgICAgbGV0IGl0ZW06IFZhbHVlO1xuICAgICAgdHJ5IHtcbiAgICAgICAgaXRlbSA9IHBhcnNlSnNvbih0ZXh0KSBhcyBWYWx1ZTtcbiAgICAgIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgICAgIHRocm93IG5ldyBQcm9ibGVtKCdkYXRhLXNoYXBlJywge1xuICAgICAgICAgIHdoYXQ6IGBpdGVtICR7bnVtYmVyfSBvZiAke2ZpbGV9IGlzIG5vdCBKU09OYCxcbiAgICAgICAgICB3aGVyZTogeyBmaWxlIH0sXG4gICAgICAgICAgY2F1c2U6IChlcnJvciBhcyBFcnJvcikubWVzc2FnZSxcbiAgICAgICAgfSk7XG4gICAgICB9XG4gICAgICBpZiAoIWlzVmFsdWVNYXAoaXRlbSkpXG4gICAgICAgIHRocm93IG5ldyBQcm9ibGVtKCdkYXRhLXNoYXBlJywgeyB3aGF0OiBgaXRlbSAke251bWJlcn0gb2YgJHtmaWxlfSBtdXN0IGJlIGEgSlNPTiBvYmplY3RgLCB3aGVyZTogeyBmaWxlIH0gfSk7XG4gICAgICB5aWVsZCBpdGVtO1xuICAgIH1cbiAgfSxcbn07XG5cbi8qKiBUaGUgdGV4dHMgb2YgdGhlIGl0ZW1zIG9mIG9uZSBsaXN0LiAqL1xuYXN5bmMgZnVuY3Rpb24qIGl0ZW1zSW4oc3RyZWFtOiBSZWFkYWJsZSwgZmlsZTogc3RyaW5nKTogQXN5bmNHZW5lcmF0b3I8c3RyaW5nPiB7XG4gIGxldCBpdGVtID0gJyc7XG4gIGxldCBkZXB0aCA9IDA7XG4gIGxldCBpblRleHQgPSBmYWxzZTtcbiAgbGV0IGVzY2FwZWQgPSBmYWxzZTtcbiAgc3RyZWFtLnNldEVuY29kaW5nKCd1dGY4Jyk7XG4gIGZvciBhd2FpdCAoY29uc3QgY2h1bmsgb2Ygc3RyZWFtIGFzIEFzeW5jSXRlcmFibGU8c3RyaW5nPikge1xuICAgIGxldCBmcm9tID0gMDtcbiAgICBmb3IgKGxldCBhdCA9IDA7IGF0IDwgY2h1bmsubGVuZ3RoOyBhdCArPSAxKSB7XG4gICAgICBjb25zdCBsZXR0ZXIgPSBjaHVua1thdF0gYXMgc3RyaW5nO1xuICAgICAgaWYgKGluVGV4dCkge1xuICAgICAgICBpZiAoZXNjYXBlZCkgZXNjYXBlZCA9IGZhbHNlO1xuICAgICAgICBlbHNlIGlmIChsZXR0ZXIgPT09ICdcXFxcJykgZXNjYXBlZCA9IHRydWU7XG4gICAgICAgIGVsc2UgaWYgKGxldHRlciA9PT0gJ1wiJykgaW5UZXh0ID0gZmFsc2U7XG4gICAgICB9IGVsc2UgaWYgKGxldHRlciA9PT0gJ1wiJykgaW5UZXh0ID0gdHJ1ZTtcbiAgICAgIGVsc2UgaWYgKGxldHRlciA9PT0gJ1snIHx8IGxldHRlciA9PT0gJ3snKSB7XG4gICAgICAgIGRlcHRoICs9IDE7XG4gICAgICAgIGlmIChkZXB0aCA9PT0gMSkge1xuICAgICAgICAgIGlmIChsZXR0ZXIgIT09ICdbJykgdGhyb3cgbm90QUxpc3QoZmlsZSk7XG4gICAgICAgICAgZnJvbSA9IGF0ICsgMTtcbiAgICAgICAgfVxuICAgICAgfSBlbHNlIGlmIChsZXR0ZXIgPT09ICddJyB8fCBsZXR0ZXIgPT09ICd9JyB8fCAobGV0dGVyID09PSAnLCcgJiYgZGVwdGggPT09IDEpKSB7XG4gICAgICAgIGlmIChkZXB0aCA8PSAxKSB7XG4gICAgICAgICAgaXRlbSArPSBjaHVuay5zbGljZShmcm9tLCBhdCk7XG4gICAgICAgICAgaWYgKGl0ZW0udHJpbSgpICE9PSAnJykgeWllbGQgaXRlbTtcbiAgICAgICAgICBlbHNlIGlmIChsZXR0ZXIgPT09ICcsJykgdGhyb3cgbm90QUxpc3QoZmlsZSk7XG4gICAgICAgICAgaXRlbSA9ICcnO1xuICAgICAgICAgIGZyb20gPSBhdCArIDE7XG4gICAgICAgIH1cbiAgICAgICAgaWYgKGxldHRlciAhPT0gJywnKSBkZXB0aCAtPSAxO1xuICAgICAgfSBlbHNlIGlmIChkZXB0aCA9PT0gMCAmJiAhL1tcXHNcXHVGRUZGXS8udGVzdChsZXR0ZXIpKSB0aHJvdyBub3RBTGlzdChmaWxlKTtcbiAgICB9XG4gICAgaWYgKGRlcHRoID4gMCkgaXRlbSArPSBjaHVuay5zbGljZShmcm9tKTtcbiAgfVxuICBpZiAoZGVwdGggPiAwKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ2RhdGEtc2hhcGUnLCB7IHdoYXQ6IGAke2ZpbGV9IGVuZHMgaW4gdGhlIG1pZGRsZSBvZiBpdHMgbGlzdGAsIHdoZXJlOiB7IGZpbGUgfSB9KTtcbiAgfVxufVxuXG5jb25zdCBub3RBTGlzdCA9IChmaWxlOiBzdHJpbmcpOiBQcm9ibGVtID0+XG4gIG5ldyBQcm9ibGVtKCdkYXRhLXNoYXBlJywge1xuICAgIHdoYXQ6IGAke2ZpbGV9IGlzIG5vdCBhIEpTT04gbGlzdCBvZiBvYmplY3RzYCxcbiAgICB3aGVyZTogeyBmaWxlIH0sXG4gICAgcmVtZWR5OiAnZm9yIGEgbGlzdCBpbnNpZGUgYW5vdGhlciB2YWx1ZSwgc2VuZCBvciBrZWVwIGl0IGFuZCBnbyB0aHJvdWdoIGl0IHdpdGggZm9yLWVhY2gnLFxuICB9KTtcbiIsICIvKiogTGluZXMgb2YgSlNPTiwgYW4gb2JqZWN0IGVhY2guICovXG5pbXBvcnQgeyBjcmVhdGVJbnRlcmZhY2UgfSBmcm9tICdub2RlOnJlYWRsaW5lJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgcGFyc2VKc29uIH0gZnJvbSAnLi4vLi4vdmFsdWUvanNvbi10ZXh0LmpzJztcbmltcG9ydCB7IGlzVmFsdWVNYXAgfSBmcm9tICcuLi8uLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB0eXBlIHsgUm93U291cmNlIH0gZnJvbSAnLi9yb3ctc291cmNlLmpzJztcblxuZXhwb3J0IGNvbnN0IGpzb25sOiBSb3dTb3VyY2UgPSB7XG4gIG5hbWU6ICdqc29ubCcsXG4gIGVuZGluZzogL1xcLig/Ompzb25sfG5kanNvbikkL2ksXG4gIGFzeW5jICpyZWFkKHN0cmVhbSwgZmlsZSkge1xuICAgIGxldCBsaW5lID0gMDtcbiAgICBmb3IgYXdhaXQgKGNvbnN0IHRleHQgb2YgY3JlYXRlSW50ZXJmYWNlKHsgaW5wdXQ6IHN0cmVhbSwgY3JsZkRlbGF5OiBOdW1iZXIuUE9TSVRJVkVfSU5GSU5JVFkgfSkpIHtcbiAgICAgIGxpbmUgKz0gMTtcbiAgICAgIGlmICh0ZXh0LnRyaW0oKSA9PT0gJycpIGNvbnRpbnVlO1xuICAgICAgbGV0IGNvbHVtbnM6IHVua25vd247XG4gICAgICB0cnkge1xuICAgICAgICBjb2x1bW5zID0gcGFyc2VKc29uKHRleHQpO1xuICAgICAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ2RhdGEtc2hhcGUnLCB7XG4gICAgICAgICAgd2hhdDogYCR7ZmlsZX0gaXMgbm90IEpTT04gbGluZXNgLFxuICAgICAgICAgIHdoZXJlOiB7IGZpbGUsIGxpbmUgfSxcbiAgICAgICAgICBjYXVzZTogKGVycm9yIGFzIEVycm9yKS5tZXNzYWdlLFxuICAgICAgICB9KTtcbiAgICAgIH1cbiAgICAgIGlmICghaXNWYWx1ZU1hcChjb2x1bW5zKSlcbiAgICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ2RhdGEtc2hhcGUnLCB7IHdoYXQ6ICdhIHJvdyBtdXN0IGJlIGEgSlNPTiBvYmplY3QnLCB3aGVyZTogeyBmaWxlLCBsaW5lIH0gfSk7XG4gICAgICB5aWVsZCBjb2x1bW5zO1xuICAgIH1cbiAgfSxcbn07XG4iLCAiLyoqIEFib3V0IGhvdyBtYW55IHJvd3MgYSBmaWxlIGhhcywgZm9yIGhvdyBsb25nIGl0IHdpbGwgdGFrZTogbGluZXMgYXJlIGNvdW50ZWQsIHdoYXRldmVyIGlzIGluIHRoZW0uICovXG5pbXBvcnQgeyBjcmVhdGVSZWFkU3RyZWFtIH0gZnJvbSAnbm9kZTpmcyc7XG5pbXBvcnQgeyBwYXRoSW5zaWRlIH0gZnJvbSAnLi4vLi4vc3RvcmFnZS9pbnNpZGUuanMnO1xuXG4vKiogdW5kZWZpbmVkIG9mIGEgZm9ybWF0IGluIHdoaWNoIGEgbGluZSBpcyBubyByb3cgKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiByb3dzQWJvdXQocm9vdDogc3RyaW5nLCBmaWxlOiBzdHJpbmcpOiBQcm9taXNlPG51bWJlciB8IHVuZGVmaW5lZD4ge1xuICBjb25zdCBjc3YgPSAvXFwuY3N2JC9pLnRlc3QoZmlsZSk7XG4gIGlmICghY3N2ICYmICEvXFwuKD86anNvbmx8bmRqc29uKSQvaS50ZXN0KGZpbGUpKSByZXR1cm4gdW5kZWZpbmVkO1xuICBsZXQgbGluZXMgPSAwO1xuICBsZXQgbGFzdCA9IDEwO1xuICBmb3IgYXdhaXQgKGNvbnN0IGNodW5rIG9mIGNyZWF0ZVJlYWRTdHJlYW0ocGF0aEluc2lkZShyb290LCBmaWxlKSkgYXMgQXN5bmNJdGVyYWJsZTxCdWZmZXI+KSB7XG4gICAgZm9yIChsZXQgYXQgPSBjaHVuay5pbmRleE9mKDEwKTsgYXQgIT09IC0xOyBhdCA9IGNodW5rLmluZGV4T2YoMTAsIGF0ICsgMSkpIGxpbmVzICs9IDE7XG4gICAgbGFzdCA9IGNodW5rLmF0KC0xKSA/PyBsYXN0O1xuICB9XG4gIHJldHVybiBNYXRoLm1heCgwLCBsaW5lcyArIChsYXN0ID09PSAxMCA/IDAgOiAxKSAtIChjc3YgPyAxIDogMCkpO1xufVxuIiwgIi8qKiBXaGVyZSB0aGUgcm93cyBvZiBhIHRyYWlsIGNvbWUgZnJvbTogYSBmaWxlLCBzdGFuZGFyZCBpbnB1dCwgb3IgYSBsaXN0IHRoYXQgaXMgd29ya2VkIG91dC4gKi9cbmltcG9ydCB7IHZhcmlhYmxlTmFtZXMgfSBmcm9tICcuLi8uLi9jb2xsZWN0aW9uL2xheWVycy5qcyc7XG5pbXBvcnQgdHlwZSB7IFlhbWxGaWxlIH0gZnJvbSAnLi4vLi4vY29sbGVjdGlvbi95YW1sLmpzJztcbmltcG9ydCB0eXBlIHsgTG9hZHMgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL2NvbXBpbGUuanMnO1xuaW1wb3J0IHsgRXZhbHVhdGlvbiwgb21pdHRlZCB9IGZyb20gJy4uLy4uL2V4cHJlc3Npb24vZXZhbHVhdGlvbi5qcyc7XG5pbXBvcnQgeyBsYXllcmVkLCB0eXBlIE5hbWVzIH0gZnJvbSAnLi4vLi4vZXhwcmVzc2lvbi9uYW1lcy5qcyc7XG5pbXBvcnQgeyBjb21waWxlVHJlZSB9IGZyb20gJy4uLy4uL2V4cHJlc3Npb24vdHJlZS5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IGlzVmFsdWVNYXAsIHR5cGUgVmFsdWUsIHR5cGUgVmFsdWVNYXAgfSBmcm9tICcuLi8uLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB0eXBlIHsgV29ya3NwYWNlIH0gZnJvbSAnLi4vd29ya3NwYWNlLmpzJztcbmltcG9ydCB7IGZpbGVSb3dzLCByZWFkeVJvd3MsIHN0cmVhbVJvd3MgfSBmcm9tICcuL3JlZ2lzdHJ5LmpzJztcbmltcG9ydCB7IHJvd3NBYm91dCB9IGZyb20gJy4vdG90YWwuanMnO1xuXG5leHBvcnQgaW50ZXJmYWNlIFJvd3NQbGFuIHtcbiAgLyoqIGBkYXRhL3Zlc3NlbHMuY3N2YCwgYHN0YW5kYXJkIGlucHV0YCwgYHRoZSBsaXN0YC4gKi9cbiAgcmVhZG9ubHkgZnJvbTogc3RyaW5nO1xuICAvKiogQHBhcmFtIG5hbWVzIHRoZSBpbnB1dHMgdGhhdCB0aGUgdHJhaWwgaGFzIGJlZm9yZSBhbnkgcm93ICovXG4gIHJlYWQod29ya3NwYWNlOiBXb3Jrc3BhY2UsIG5hbWVzOiBOYW1lcyk6IEFzeW5jSXRlcmFibGU8VmFsdWVNYXA+O1xuICAvKiogQWJvdXQgaG93IG1hbnkgdGhlcmUgYXJlLCB3aGVyZSB0aGF0IGNhbiBiZSBrbm93biBhaGVhZC4gKi9cbiAgYWJvdXQoKTogUHJvbWlzZTxudW1iZXIgfCB1bmRlZmluZWQ+O1xufVxuXG4vKiogQHRocm93cyBQcm9ibGVtIGZpbGUtbm90LWZvdW5kLCBmaWxlLW91dHNpZGUsIGRhdGEtc2hhcGU6IHRoZSBmaWxlIGNhbm5vdCBnaXZlIGFueSByb3dzICovXG5leHBvcnQgZnVuY3Rpb24gcGxhblJvd3MoXG4gIGdpdmVuOiBzdHJpbmcgfCByZWFkb25seSBWYWx1ZVtdLFxuICB5YW1sOiBQaWNrPFlhbWxGaWxlLCAncG9zaXRpb24nPixcbiAgbG9hZHM6IExvYWRzLFxuICB7IGNvbGxlY3Rpb246IHsgcm9vdCB9LCBzdGFuZGFyZElucHV0IH06IFdvcmtzcGFjZSxcbik6IFJvd3NQbGFuIHtcbiAgaWYgKGdpdmVuID09PSAnLScpIHtcbiAgICBpZiAoIXN0YW5kYXJkSW5wdXQpIHRocm93IG5ldyBQcm9ibGVtKCd1c2FnZScsIHsgd2hhdDogJ3Jvd3MgY29tZSBmcm9tIHN0YW5kYXJkIGlucHV0LCB3aGljaCBub2JvZHkgcmVhZHMgaGVyZScgfSk7XG4gICAgcmV0dXJuIHsgZnJvbTogJ3N0YW5kYXJkIGlucHV0JywgcmVhZDogKCkgPT4gc3RyZWFtUm93cyhzdGFuZGFyZElucHV0KCkpLCBhYm91dDogdW5rbm93biB9O1xuICB9XG4gIGlmICh0eXBlb2YgZ2l2ZW4gPT09ICdzdHJpbmcnICYmICFnaXZlbi5pbmNsdWRlcygnJHsnKSkge1xuICAgIHJlYWR5Um93cyhyb290LCBnaXZlbiwgbG9hZHMsIHlhbWwucG9zaXRpb24oWydyb3dzJ10pKTtcbiAgICByZXR1cm4ge1xuICAgICAgZnJvbTogZ2l2ZW4sXG4gICAgICByZWFkOiAoKSA9PiBmaWxlUm93cyhyb290LCBnaXZlbiksXG4gICAgICBhYm91dDogKCkgPT4gcm93c0Fib3V0KHJvb3QsIGdpdmVuKSxcbiAgICB9O1xuICB9XG4gIGNvbnN0IHdoZXJlID0geWFtbC5wb3NpdGlvbihbJ3Jvd3MnXSk7XG4gIGNvbnN0IHRyZWUgPSBjb21waWxlVHJlZShnaXZlbiBhcyBWYWx1ZSwgKHBhdGgpID0+IHlhbWwucG9zaXRpb24oWydyb3dzJywgLi4ucGF0aF0pLCBsb2Fkcyk7XG4gIHJldHVybiB7XG4gICAgZnJvbTogJ3RoZSBsaXN0JyxcbiAgICBhYm91dDogdW5rbm93bixcbiAgICByZWFkKHdvcmtzcGFjZSwgb3duKSB7XG4gICAgICBjb25zdCBzdXJyb3VuZGluZ3MgPSB7IHdvcmxkOiB3b3Jrc3BhY2Uud29ybGQoKSwgb25TZWNyZXQ6IHdvcmtzcGFjZS5yZWRhY3Rvci5hZGQgfTtcbiAgICAgIGNvbnN0IG5hbWVzID0gbGF5ZXJlZChvd24sIHZhcmlhYmxlTmFtZXMod29ya3NwYWNlLmxheWVycywgb3duLCBzdXJyb3VuZGluZ3MpKTtcbiAgICAgIGNvbnN0IHZhbHVlID0gdHJlZS5ldmFsdWF0ZShuZXcgRXZhbHVhdGlvbihuYW1lcywgc3Vycm91bmRpbmdzKSk7XG4gICAgICBpZiAodmFsdWUgIT09IG9taXR0ZWQgJiYgQXJyYXkuaXNBcnJheSh2YWx1ZSkpIHJldHVybiBhc1Jvd3ModmFsdWUgYXMgcmVhZG9ubHkgVmFsdWVbXSk7XG4gICAgICB0aHJvdyBuZXcgUHJvYmxlbSgnZGF0YS1zaGFwZScsIHsgd2hhdDogJ3Jvd3MgbXVzdCBiZSBhIGxpc3QsIGFuZCB0aGUgZXhwcmVzc2lvbiBnaXZlcyBub25lJywgd2hlcmUgfSk7XG4gICAgfSxcbiAgfTtcbn1cblxuY29uc3QgdW5rbm93biA9IGFzeW5jICgpOiBQcm9taXNlPHVuZGVmaW5lZD4gPT4gdW5kZWZpbmVkO1xuXG4vKiogV2hhdCBpcyBubyBtYXAgYmVjb21lcyBhIHJvdyB3aXRoIHRoZSBjb2x1bW4gYHZhbHVlYC4gKi9cbmFzeW5jIGZ1bmN0aW9uKiBhc1Jvd3MoaXRlbXM6IHJlYWRvbmx5IFZhbHVlW10pOiBBc3luY0dlbmVyYXRvcjxWYWx1ZU1hcD4ge1xuICBmb3IgKGNvbnN0IGl0ZW0gb2YgaXRlbXMpIHlpZWxkIGlzVmFsdWVNYXAoaXRlbSkgPyBpdGVtIDogeyB2YWx1ZTogaXRlbSB9O1xufVxuIiwgIi8qKiBgZ2l2ZWA6IHZhbHVlcyBmb3IgdGhlIGlucHV0cyBvZiBhIHJlcXVlc3Qgb3IgYSB0cmFpbCwgd29ya2VkIG91dCB3aXRoIHRoZSBuYW1lcyBvZiB0aGUgd2Fsay4gKi9cbmltcG9ydCB7IHZhcmlhYmxlTmFtZXMgfSBmcm9tICcuLi9jb2xsZWN0aW9uL2xheWVycy5qcyc7XG5pbXBvcnQgeyBFdmFsdWF0aW9uLCBvbWl0dGVkIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi9ldmFsdWF0aW9uLmpzJztcbmltcG9ydCB7IGxheWVyZWQsIHR5cGUgTmFtZWQgfSBmcm9tICcuLi9leHByZXNzaW9uL25hbWVzLmpzJztcbmltcG9ydCB7IGNvbXBpbGVUcmVlLCB0eXBlIFRyZWUgfSBmcm9tICcuLi9leHByZXNzaW9uL3RyZWUuanMnO1xuaW1wb3J0IHR5cGUgeyBWYWx1ZSB9IGZyb20gJy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHR5cGUgeyBTY29wZSB9IGZyb20gJy4vc2NvcGUuanMnO1xuaW1wb3J0IHR5cGUgeyBQbGFuUm9vbSB9IGZyb20gJy4vc3RlcC1raW5kLmpzJztcbmltcG9ydCB0eXBlIHsgV29ya3NwYWNlIH0gZnJvbSAnLi93b3Jrc3BhY2UuanMnO1xuXG5leHBvcnQgdHlwZSBHaXZlcyA9IFJlYWRvbmx5TWFwPHN0cmluZywgVHJlZT47XG5cbmV4cG9ydCBmdW5jdGlvbiBwbGFuR2l2ZXMoXG4gIHZhbHVlczogUmVhZG9ubHk8UmVjb3JkPHN0cmluZywgVmFsdWU+PiB8IHVuZGVmaW5lZCxcbiAgeyB5YW1sLCBsb2FkcyB9OiBQaWNrPFBsYW5Sb29tLCAneWFtbCcgfCAnbG9hZHMnPixcbiAgcGF0aDogcmVhZG9ubHkgKHN0cmluZyB8IG51bWJlcilbXSxcbik6IEdpdmVzIHtcbiAgcmV0dXJuIG5ldyBNYXAoXG4gICAgT2JqZWN0LmVudHJpZXModmFsdWVzID8/IHt9KS5tYXAoKFtrZXksIHZhbHVlXSkgPT4gW1xuICAgICAga2V5LFxuICAgICAgY29tcGlsZVRyZWUodmFsdWUsIChpbm5lcikgPT4geWFtbC5wb3NpdGlvbihbLi4ucGF0aCwga2V5LCAuLi5pbm5lcl0pLCBsb2FkcyksXG4gICAgXSksXG4gICk7XG59XG5cbi8qKiBXaGF0IGEgd2FsayBldmFsdWF0ZXMgd2l0aDogaXRzIG93biBuYW1lcywgdGhlbiB0aGUgdmFyaWFibGVzLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHdhbGtFdmFsdWF0aW9uKHdvcmtzcGFjZTogV29ya3NwYWNlLCBzY29wZTogU2NvcGUpOiBFdmFsdWF0aW9uIHtcbiAgY29uc3Qgc3Vycm91bmRpbmdzID0geyB3b3JsZDogd29ya3NwYWNlLndvcmxkKCksIG9uU2VjcmV0OiB3b3Jrc3BhY2UucmVkYWN0b3IuYWRkIH07XG4gIHJldHVybiBuZXcgRXZhbHVhdGlvbihsYXllcmVkKHNjb3BlLCB2YXJpYWJsZU5hbWVzKHdvcmtzcGFjZS5sYXllcnMsIHNjb3BlLCBzdXJyb3VuZGluZ3MpKSwgc3Vycm91bmRpbmdzKTtcbn1cblxuZXhwb3J0IGZ1bmN0aW9uIGV2YWx1YXRlZCh0cmVlOiBUcmVlLCBldmFsdWF0aW9uOiBFdmFsdWF0aW9uLCBvcmlnaW46IHN0cmluZyk6IE5hbWVkIHwgdW5kZWZpbmVkIHtcbiAgY29uc3QgaW5uZXIgPSBuZXcgRXZhbHVhdGlvbihldmFsdWF0aW9uLm5hbWVzLCBldmFsdWF0aW9uKTtcbiAgY29uc3QgdmFsdWUgPSB0cmVlLmV2YWx1YXRlKGlubmVyKTtcbiAgcmV0dXJuIHZhbHVlID09PSBvbWl0dGVkID8gdW5kZWZpbmVkIDogeyB2YWx1ZSwgb3JpZ2luLCBzZWNyZXQ6IGlubmVyLnRvdWNoZWRTZWNyZXQgfTtcbn1cblxuLyoqIFRoZSB2YWx1ZSBmb3IgYW4gaW5wdXQ6IHdoYXQgdGhlIHN0ZXAgZ2l2ZXMsIGVsc2Ugd2hhdCB0aGUgd2FsayBrbm93cyB1bmRlciB0aGF0IG5hbWUuICovXG5leHBvcnQgZnVuY3Rpb24gZ2l2ZXIoXG4gIGdpdmVzOiBHaXZlcyxcbiAgd29ya3NwYWNlOiBXb3Jrc3BhY2UsXG4gIHNjb3BlOiBTY29wZSxcbiAgbGFiZWw6IHN0cmluZyxcbik6IChpbnB1dDogc3RyaW5nKSA9PiBOYW1lZCB8IHVuZGVmaW5lZCB7XG4gIGxldCBldmFsdWF0aW9uOiBFdmFsdWF0aW9uIHwgdW5kZWZpbmVkO1xuICByZXR1cm4gKGlucHV0KSA9PiB7XG4gICAgY29uc3QgdHJlZSA9IGdpdmVzLmdldChpbnB1dCk7XG4gICAgaWYgKCF0cmVlKSByZXR1cm4gc2NvcGUubG9va3VwKGlucHV0KTtcbiAgICBldmFsdWF0aW9uID8/PSB3YWxrRXZhbHVhdGlvbih3b3Jrc3BhY2UsIHNjb3BlKTtcbiAgICByZXR1cm4gZXZhbHVhdGVkKHRyZWUsIGV2YWx1YXRpb24sIGBnaXZlbiBieSBzdGVwICR7bGFiZWx9YCk7XG4gIH07XG59XG4iLCAiLyoqIFNlY3JldHMgdGhhdCBhIHdhbGsgd2lsbCBuZWVkIGFyZSBsb29rZWQgZm9yIGJlZm9yZSBpdHMgZmlyc3Qgc3RlcDogYSBtaXNzaW5nIG9uZSBmYWlscyBldmVyeSByb3cgYWxpa2UuICovXG5pbXBvcnQgdHlwZSB7IENvbGxlY3Rpb24sIExvYWRlZCB9IGZyb20gJy4uL2NvbGxlY3Rpb24vY29sbGVjdGlvbi5qcyc7XG5pbXBvcnQgdHlwZSB7IFJlcXVlc3RGaWxlIH0gZnJvbSAnLi4vY29sbGVjdGlvbi9maWxlcy9yZXF1ZXN0LWZpbGUuanMnO1xuaW1wb3J0IHR5cGUgeyBZYW1sRmlsZSB9IGZyb20gJy4uL2NvbGxlY3Rpb24veWFtbC5qcyc7XG5pbXBvcnQgeyBuYW1lc1VzZWQgfSBmcm9tICcuLi9leHByZXNzaW9uL25hbWVzLXVzZWQuanMnO1xuaW1wb3J0IHsgdHlwZSBGaWxlUG9zaXRpb24sIFByb2JsZW0gfSBmcm9tICcuLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgc2Vzc2lvbktpbmRzIH0gZnJvbSAnLi4vc2Vzc2lvbi9yZWdpc3RyeS5qcyc7XG5pbXBvcnQgdHlwZSB7IFZhbHVlIH0gZnJvbSAnLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgdHlwZSB7IFRyYWlsUGxhbiB9IGZyb20gJy4vc3RlcC1raW5kLmpzJztcbmltcG9ydCB0eXBlIHsgV29ya3NwYWNlIH0gZnJvbSAnLi93b3Jrc3BhY2UuanMnO1xuXG4vKiogQSBzZWNyZXQgYnkgYSBuYW1lLCBhbmQgYSBrZXksIHRoYXQgYXJlIHdyaXR0ZW4gb3V0LiAqL1xuZXhwb3J0IGludGVyZmFjZSBTZWNyZXRVc2Uge1xuICByZWFkb25seSBuYW1lOiBzdHJpbmc7XG4gIHJlYWRvbmx5IGtleTogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSB3aGVyZTogRmlsZVBvc2l0aW9uO1xufVxuXG4vKiogVGhvc2UgdGhhdCBhcmUgYWx3YXlzIG5lZWRlZCB3aGVyZSB0aGUgdmFsdWUgaXMuICovXG5leHBvcnQgZnVuY3Rpb24gc2VjcmV0c0luKFxuICB2YWx1ZTogdW5rbm93bixcbiAgeWFtbDogUGljazxZYW1sRmlsZSwgJ3Bvc2l0aW9uJz4sXG4gIHBhdGg6IHJlYWRvbmx5IChzdHJpbmcgfCBudW1iZXIpW10gPSBbXSxcbik6IFNlY3JldFVzZVtdIHtcbiAgcmV0dXJuIG5hbWVzVXNlZCgodmFsdWUgPz8gbnVsbCkgYXMgVmFsdWUsIHBhdGgpLmZsYXRNYXAoKHsgc2VjcmV0LCBrZXlzID0gW10sIHBhdGg6IGF0LCBvcHRpb25hbCwgY29tcHV0ZWQgfSkgPT5cbiAgICBzZWNyZXQgPT09IHVuZGVmaW5lZCB8fCBvcHRpb25hbCB8fCBjb21wdXRlZCA/IFtdIDogW3sgbmFtZTogc2VjcmV0LCBrZXk6IGtleXNbMV0sIHdoZXJlOiB5YW1sLnBvc2l0aW9uKFsuLi5hdF0pIH1dLFxuICApO1xufVxuXG5jb25zdCBwYXJ0cyA9IFsndXJsJywgJ3BhdGgnLCAncXVlcnknLCAnaGVhZGVycycsICdjb29raWVzJywgJ2JvZHknXSBhcyBjb25zdDtcblxuLyoqIE9mIGEgcmVxdWVzdCwgaXRzIHNpZ25hdHVyZSwgYW5kIHRoZSBzZXNzaW9ucyB0aGF0IG5lZWQgbm90IGJlIG9wZW5lZCBmaXJzdC4gKi9cbmV4cG9ydCBmdW5jdGlvbiBzZWNyZXRzT2YoXG4gIHsgY29sbGVjdGlvbiB9OiBQaWNrPFdvcmtzcGFjZSwgJ2NvbGxlY3Rpb24nPixcbiAgeyBjb250ZW50LCB5YW1sLCBuYW1lIH06IExvYWRlZDxSZXF1ZXN0RmlsZT4sXG4gIHNlc3Npb25zOiByZWFkb25seSBzdHJpbmdbXSxcbiAgc2lnbmF0dXJlOiBzdHJpbmcgfCB1bmRlZmluZWQsXG4pOiBTZWNyZXRVc2VbXSB7XG4gIHJldHVybiBbXG4gICAgLi4ucGFydHMuZmxhdE1hcCgocGFydCkgPT4gc2VjcmV0c0luKGNvbnRlbnRbcGFydF0sIHlhbWwsIFtwYXJ0XSkpLFxuICAgIC4uLmNvbGxlY3Rpb25cbiAgICAgIC5kZWZhdWx0cyhuYW1lKVxuICAgICAgLmZsYXRNYXAoKGRlZmF1bHRzKSA9PlxuICAgICAgICAoWydoZWFkZXJzJywgJ3F1ZXJ5J10gYXMgY29uc3QpLmZsYXRNYXAoKHBhcnQpID0+XG4gICAgICAgICAgT2JqZWN0LmVudHJpZXMoZGVmYXVsdHMuY29udGVudFtwYXJ0XSA/PyB7fSkuZmxhdE1hcCgoW2tleSwgdmFsdWVdKSA9PlxuICAgICAgICAgICAgT2JqZWN0LmtleXMoY29udGVudFtwYXJ0XSA/PyB7fSkuc29tZSgob3duKSA9PiBvd24udG9Mb3dlckNhc2UoKSA9PT0ga2V5LnRvTG93ZXJDYXNlKCkpXG4gICAgICAgICAgICAgID8gW11cbiAgICAgICAgICAgICAgOiBzZWNyZXRzSW4odmFsdWUsIGRlZmF1bHRzLnlhbWwsIFtwYXJ0LCBrZXldKSxcbiAgICAgICAgICApLFxuICAgICAgICApLFxuICAgICAgKSxcbiAgICAuLi4oc2lnbmF0dXJlID09PSB1bmRlZmluZWQgPyBbXSA6IGZpbGVTZWNyZXRzKGNvbGxlY3Rpb24sICdzaWduYXR1cmUnLCBzaWduYXR1cmUpKSxcbiAgICAuLi5zZXNzaW9ucy5mbGF0TWFwKChzZXNzaW9uKSA9PiBmaWxlU2VjcmV0cyhjb2xsZWN0aW9uLCAnc2Vzc2lvbicsIHNlc3Npb24pKSxcbiAgXTtcbn1cblxuLyoqIFdoYXQgb3BlbnMgYSBzZXNzaW9uIG1heSBoYXZlIG9wZW5lZCBpdCBhbHJlYWR5LiAqL1xuZnVuY3Rpb24gZmlsZVNlY3JldHMoY29sbGVjdGlvbjogQ29sbGVjdGlvbiwga2luZDogJ3NpZ25hdHVyZScgfCAnc2Vzc2lvbicsIGdpdmVuOiBzdHJpbmcpOiBTZWNyZXRVc2VbXSB7XG4gIHRyeSB7XG4gICAgY29uc3QgeyBjb250ZW50LCB5YW1sIH0gPSBjb2xsZWN0aW9uLnJlYWQoa2luZCwgZ2l2ZW4pO1xuICAgIGlmIChraW5kID09PSAnc2Vzc2lvbicgJiYgc2Vzc2lvbktpbmRzLmdldChjb250ZW50LmtpbmQgPz8gJycpPy5vcGVuKSByZXR1cm4gW107XG4gICAgY29uc3QgeyBleGFtcGxlczogXywgYWJvdXQ6IF9fLCAuLi51c2VkIH0gPSBjb250ZW50IGFzIFJlY29yZDxzdHJpbmcsIHVua25vd24+O1xuICAgIHJldHVybiBzZWNyZXRzSW4odXNlZCwgeWFtbCk7XG4gIH0gY2F0Y2gge1xuICAgIC8vIFdoYXQgaXMgd3Jvbmcgd2l0aCB0aGUgZmlsZSBpcyB0b2xkIHdoZW4gaXQgaXMgdXNlZC5cbiAgICByZXR1cm4gW107XG4gIH1cbn1cblxuLyoqIEB0aHJvd3MgUHJvYmxlbSBzZWNyZXQtbWlzc2luZzogYWxsIG9mIHRoZW0gYXQgb25jZSAqL1xuZXhwb3J0IGZ1bmN0aW9uIGRlbWFuZFNlY3JldHMod29ya3NwYWNlOiBXb3Jrc3BhY2UsIHBsYW5zOiByZWFkb25seSBUcmFpbFBsYW5bXSk6IHZvaWQge1xuICBjb25zdCB3b3JsZCA9IHdvcmtzcGFjZS53b3JsZCgpO1xuICBjb25zdCBtaXNzaW5nID0gbmV3IE1hcDxzdHJpbmcsIFNlY3JldFVzZT4oKTtcbiAgZm9yIChjb25zdCB7IHN0ZXBzIH0gb2YgcGxhbnMpIHtcbiAgICBmb3IgKGNvbnN0IHsgc2VjcmV0cywgd2hlbiB9IG9mIHN0ZXBzKSB7XG4gICAgICAvLyBXaGV0aGVyIGEgc3RlcCB3aXRoIGEgY29uZGl0aW9uIGlzIHRha2VuIGlzIGtub3duIG9ubHkgdGhlbi5cbiAgICAgIGlmICh3aGVuKSBjb250aW51ZTtcbiAgICAgIGZvciAoY29uc3QgdXNlIG9mIHNlY3JldHMpIHtcbiAgICAgICAgY29uc3QgZnVsbCA9IHVzZS5rZXkgPT09IHVuZGVmaW5lZCA/IHVzZS5uYW1lIDogYCR7dXNlLm5hbWV9WyR7dXNlLmtleX1dYDtcbiAgICAgICAgaWYgKCFtaXNzaW5nLmhhcyhmdWxsKSAmJiB3b3JsZC5zZWNyZXQodXNlLm5hbWUsIHVzZS5rZXkpID09PSB1bmRlZmluZWQpIG1pc3Npbmcuc2V0KGZ1bGwsIHVzZSk7XG4gICAgICB9XG4gICAgfVxuICB9XG4gIGNvbnN0IFtmaXJzdF0gPSBtaXNzaW5nO1xuICBpZiAoIWZpcnN0KSByZXR1cm47XG4gIGNvbnN0IG5hbWVzID0gWy4uLm1pc3Npbmcua2V5cygpXTtcbiAgdGhyb3cgbmV3IFByb2JsZW0oJ3NlY3JldC1taXNzaW5nJywge1xuICAgIHdoYXQ6IG5hbWVzLmxlbmd0aCA9PT0gMSA/IGB0aGUgc2VjcmV0ICR7bmFtZXNbMF19IGlzIG5vdCBzZXRgIDogYHRoZSBzZWNyZXRzICR7bmFtZXMuam9pbignLCAnKX0gYXJlIG5vdCBzZXRgLFxuICAgIHdoZXJlOiBmaXJzdFsxXS53aGVyZSxcbiAgICByZW1lZHk6IGAke25hbWVzLm1hcCgobmFtZSkgPT4gYGVjaG8tdHJhaWwgc2VjcmV0IHNldCAkey9bW1xcXV0vLnRlc3QobmFtZSkgPyBgJyR7bmFtZX0nYCA6IG5hbWV9YCkuam9pbignLCAnKX07IG5vdGhpbmcgd2FzIHNlbnRgLFxuICAgIGRhdGE6IHsgbmFtZXMgfSxcbiAgfSk7XG59XG4iLCAiLyoqIGBjaG9vc2VgOiBhIHBlcnNvbiBwaWNrcyBvbmUgb2YgYSBsaXN0OyB1bmF0dGVuZGVkLCBgLS1zZXRgIHNheXMgd2hpY2guICovXG5pbXBvcnQgdHlwZSB7IENob29zZVN0ZXBGaWxlIH0gZnJvbSAnLi4vLi4vY29sbGVjdGlvbi9maWxlcy90cmFpbC1maWxlLmpzJztcbmltcG9ydCB7IGNvbXBpbGVUcmVlLCB0eXBlIFRyZWUgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL3RyZWUuanMnO1xuaW1wb3J0IHsgbmVhcmVzdEhpbnQgfSBmcm9tICcuLi8uLi9wcm9ibGVtL25lYXJlc3QuanMnO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyB0ZXh0T2YgfSBmcm9tICcuLi8uLi92YWx1ZS90ZXh0LmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUgfSBmcm9tICcuLi8uLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB7IGV2YWx1YXRlZCwgd2Fsa0V2YWx1YXRpb24gfSBmcm9tICcuLi9naXZpbmcuanMnO1xuaW1wb3J0IHsgU2NvcGUgfSBmcm9tICcuLi9zY29wZS5qcyc7XG5pbXBvcnQgeyBzZWNyZXRzSW4gfSBmcm9tICcuLi9zZWNyZXRzLWFoZWFkLmpzJztcbmltcG9ydCB0eXBlIHsgU3RlcEtpbmQsIFdhbGsgfSBmcm9tICcuLi9zdGVwLWtpbmQuanMnO1xuXG5leHBvcnQgaW50ZXJmYWNlIENob2ljZSB7XG4gIHJlYWRvbmx5IGxhYmVsOiBzdHJpbmc7XG4gIHJlYWRvbmx5IHZhbHVlOiBWYWx1ZTtcbiAgcmVhZG9ubHkgc2VjcmV0OiBib29sZWFuO1xufVxuXG5leHBvcnQgY29uc3QgY2hvb3NlOiBTdGVwS2luZDxDaG9vc2VTdGVwRmlsZT4gPSB7XG4gIG5hbWU6ICdjaG9vc2UnLFxuICBmaXRzOiAoZmlsZSk6IGZpbGUgaXMgQ2hvb3NlU3RlcEZpbGUgPT4gJ2Nob29zZScgaW4gZmlsZSxcbiAgYXN5bmMgcGxhbih7IGNob29zZTogc3BlYywgbmFtZSB9LCB7IHlhbWwsIHBhdGgsIGxvYWRzIH0pIHtcbiAgICBjb25zdCBhdCA9IChrZXk6IHN0cmluZykgPT4gKGlubmVyOiByZWFkb25seSAoc3RyaW5nIHwgbnVtYmVyKVtdKSA9PlxuICAgICAgeWFtbC5wb3NpdGlvbihbLi4ucGF0aCwgJ2Nob29zZScsIGtleSwgLi4uaW5uZXJdKTtcbiAgICBjb25zdCBmcm9tID0gY29tcGlsZVRyZWUoc3BlYy5mcm9tLCBhdCgnZnJvbScpLCBsb2Fkcyk7XG4gICAgY29uc3QgbGFiZWxzID0gc3BlYy5sYWJlbCA9PT0gdW5kZWZpbmVkID8gdW5kZWZpbmVkIDogY29tcGlsZVRyZWUoc3BlYy5sYWJlbCwgYXQoJ2xhYmVsJyksIGxvYWRzKTtcbiAgICBjb25zdCB2YWx1ZXMgPSBzcGVjLnZhbHVlID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiBjb21waWxlVHJlZShzcGVjLnZhbHVlLCBhdCgndmFsdWUnKSwgbG9hZHMpO1xuICAgIGNvbnN0IGxhYmVsID0gbmFtZSA/PyBgY2hvb3NlICR7c3BlYy5hc31gO1xuICAgIHJldHVybiB7XG4gICAgICBraW5kOiAnY2hvb3NlJyxcbiAgICAgIGxhYmVsLFxuICAgICAgY2hhbmdlczogMCxcbiAgICAgIHJlcXVlc3RzOiBbXSxcbiAgICAgIHRha2VzOiBbc3BlYy5hc10sXG4gICAgICBzZWNyZXRzOiBzZWNyZXRzSW4oc3BlYywgeWFtbCwgWy4uLnBhdGgsICdjaG9vc2UnXSksXG4gICAgICBhc3luYyB3YWxrKHdhbGspIHtcbiAgICAgICAgY29uc3QgY2hvaWNlcyA9IGNob2ljZXNJbihmcm9tLCBsYWJlbHMsIHZhbHVlcywgd2FsaywgbGFiZWwpO1xuICAgICAgICBjb25zdCBnaXZlbiA9IHdhbGsud29ya3NwYWNlLnNldHRpbmdzLmdldChzcGVjLmFzKTtcbiAgICAgICAgY29uc3QgY2hvc2VuID0gZ2l2ZW4gPT09IHVuZGVmaW5lZCA/IGF3YWl0IGFzayhzcGVjLmFzLCBjaG9pY2VzLCB3YWxrKSA6IGZpdHRpbmcoc3BlYy5hcywgZ2l2ZW4sIGNob2ljZXMpO1xuICAgICAgICBjb25zdCB7IHZhbHVlLCBzZWNyZXQgfSA9IGNob3NlbjtcbiAgICAgICAgd2Fsay5zY29wZS5zZXQoc3BlYy5hcywgeyB2YWx1ZSwgc2VjcmV0LCBvcmlnaW46IGBjaG9zZW4gYnkgc3RlcCAke2xhYmVsfWAgfSk7XG4gICAgICAgIHJldHVybiB7IHNlbnQ6IHVuZGVmaW5lZCwga2VwdDogW3NwZWMuYXNdLCBwcm9ibGVtczogW10sIHRvbGQ6IHsgY2hvc2VuOiBjaG9zZW4ubGFiZWwgfSB9O1xuICAgICAgfSxcbiAgICAgIHJlc3RvcmU6ICgpID0+IHVuZGVmaW5lZCxcbiAgICB9O1xuICB9LFxufTtcblxuLyoqIEB0aHJvd3MgUHJvYmxlbSBkYXRhLXNoYXBlOiBubyBsaXN0LCBvciBhbiBlbXB0eSBvbmUgKi9cbmZ1bmN0aW9uIGNob2ljZXNJbihcbiAgZnJvbTogVHJlZSxcbiAgbGFiZWxzOiBUcmVlIHwgdW5kZWZpbmVkLFxuICB2YWx1ZXM6IFRyZWUgfCB1bmRlZmluZWQsXG4gIHsgd29ya3NwYWNlLCBzY29wZSB9OiBXYWxrLFxuICBsYWJlbDogc3RyaW5nLFxuKTogcmVhZG9ubHkgQ2hvaWNlW10ge1xuICBjb25zdCBsaXN0ID0gZXZhbHVhdGVkKGZyb20sIHdhbGtFdmFsdWF0aW9uKHdvcmtzcGFjZSwgc2NvcGUpLCBsYWJlbCk7XG4gIGlmICghbGlzdCB8fCAhQXJyYXkuaXNBcnJheShsaXN0LnZhbHVlKSB8fCBsaXN0LnZhbHVlLmxlbmd0aCA9PT0gMCkge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCdkYXRhLXNoYXBlJywge1xuICAgICAgd2hhdDogYCR7bGFiZWx9OiB0aGVyZSBpcyBub3RoaW5nIHRvIGNob29zZSBmcm9tYCxcbiAgICAgIGNhdXNlOiBBcnJheS5pc0FycmF5KGxpc3Q/LnZhbHVlKSA/ICd0aGUgbGlzdCBpcyBlbXB0eScgOiAnZnJvbSBpcyBubyBsaXN0JyxcbiAgICB9KTtcbiAgfVxuICByZXR1cm4gKGxpc3QudmFsdWUgYXMgcmVhZG9ubHkgVmFsdWVbXSkubWFwKChpdGVtKSA9PiB7XG4gICAgY29uc3QgbmFtZWQgPSBuZXcgTWFwKFtbJ2l0ZW0nLCB7IHZhbHVlOiBpdGVtLCBzZWNyZXQ6IGxpc3Quc2VjcmV0LCBvcmlnaW46IGxhYmVsIH1dXSk7XG4gICAgY29uc3Qgb3duID0gd2Fsa0V2YWx1YXRpb24od29ya3NwYWNlLCBuZXcgU2NvcGUobmFtZWQsIGxhYmVsLCBzY29wZSkpO1xuICAgIGNvbnN0IHZhbHVlID0gdmFsdWVzID8gZXZhbHVhdGVkKHZhbHVlcywgb3duLCBsYWJlbCkgOiB1bmRlZmluZWQ7XG4gICAgY29uc3QgdGV4dCA9IGxhYmVscyA/IGV2YWx1YXRlZChsYWJlbHMsIG93biwgbGFiZWwpPy52YWx1ZSA6IGl0ZW07XG4gICAgcmV0dXJuIHtcbiAgICAgIGxhYmVsOiB0ZXh0T2YodGV4dCA/PyBpdGVtKSxcbiAgICAgIHZhbHVlOiB2YWx1ZT8udmFsdWUgPz8gaXRlbSxcbiAgICAgIHNlY3JldDogKHZhbHVlPy5zZWNyZXQgPz8gbGlzdC5zZWNyZXQpID09PSB0cnVlLFxuICAgIH07XG4gIH0pO1xufVxuXG4vKiogQHRocm93cyBQcm9ibGVtIGlucHV0LW1pc3Npbmc6IG5vYm9keSBpcyB0aGVyZSB0byBhc2sgKi9cbmFzeW5jIGZ1bmN0aW9uIGFzayhuYW1lOiBzdHJpbmcsIGNob2ljZXM6IHJlYWRvbmx5IENob2ljZVtdLCB7IHdvcmtzcGFjZSB9OiBXYWxrKTogUHJvbWlzZTxDaG9pY2U+IHtcbiAgaWYgKCF3b3Jrc3BhY2UuY2hvb3NlKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ2lucHV0LW1pc3NpbmcnLCB7XG4gICAgICB3aGF0OiBgc29tZWJvZHkgaGFzIHRvIGNob29zZSAke25hbWV9LCBhbmQgbm9ib2R5IGlzIGF0IHRoZSB0ZXJtaW5hbGAsXG4gICAgICByZW1lZHk6IGAtLXNldCAke25hbWV9PUxBQkVMLU9SLVZBTFVFOyB0aGVyZSBhcmU6ICR7c29tZShjaG9pY2VzKX1gLFxuICAgICAgZGF0YTogeyBpbnB1dDogbmFtZSB9LFxuICAgIH0pO1xuICB9XG4gIHJldHVybiBjaG9pY2VzW1xuICAgIGF3YWl0IHdvcmtzcGFjZS5jaG9vc2UoXG4gICAgICBuYW1lLFxuICAgICAgY2hvaWNlcy5tYXAoKHsgbGFiZWwgfSkgPT4gbGFiZWwpLFxuICAgIClcbiAgXSBhcyBDaG9pY2U7XG59XG5cbi8qKiBCeSBpdHMgd2hvbGUgdmFsdWUgb3IgbGFiZWwsIGVsc2UgYnkgYSBwYXJ0IG9mIHRoZSBsYWJlbCB0aGF0IG9ubHkgb25lIGhhcy4gQHRocm93cyBQcm9ibGVtIGlucHV0LXZhbHVlLCBuYW1lLWFtYmlndW91cyAqL1xuZnVuY3Rpb24gZml0dGluZyhuYW1lOiBzdHJpbmcsIGdpdmVuOiBzdHJpbmcsIGNob2ljZXM6IHJlYWRvbmx5IENob2ljZVtdKTogQ2hvaWNlIHtcbiAgY29uc3Qgd2FudGVkID0gZ2l2ZW4udHJpbSgpLnRvTG93ZXJDYXNlKCk7XG4gIGNvbnN0IHdob2xlID0gY2hvaWNlcy5maWx0ZXIoKHsgbGFiZWwsIHZhbHVlIH0pID0+IHRleHRPZih2YWx1ZSkgPT09IGdpdmVuIHx8IGxhYmVsID09PSBnaXZlbik7XG4gIGNvbnN0IGZvdW5kID1cbiAgICB3aG9sZS5sZW5ndGggPiAwID8gd2hvbGUgOiBjaG9pY2VzLmZpbHRlcigoeyBsYWJlbCB9KSA9PiB3YW50ZWQgIT09ICcnICYmIGxhYmVsLnRvTG93ZXJDYXNlKCkuaW5jbHVkZXMod2FudGVkKSk7XG4gIGNvbnN0IFtmaXJzdF0gPSBmb3VuZDtcbiAgaWYgKGZpcnN0ICYmIGZvdW5kLmxlbmd0aCA9PT0gMSkgcmV0dXJuIGZpcnN0O1xuICBpZiAoZmlyc3QpIHtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgnbmFtZS1hbWJpZ3VvdXMnLCB7XG4gICAgICB3aGF0OiBgLS1zZXQgJHtuYW1lfT0ke2dpdmVufSBmaXRzICR7Zm91bmQubGVuZ3RofSBvZiB0aGVtOiAke3NvbWUoZm91bmQpfWAsXG4gICAgICByZW1lZHk6ICdnaXZlIHRoZSB3aG9sZSBsYWJlbCwgb3IgdGhlIHZhbHVlJyxcbiAgICAgIGRhdGE6IHsgaW5wdXQ6IG5hbWUsIGZpdHRpbmc6IGZvdW5kLm1hcCgoeyBsYWJlbCB9KSA9PiBsYWJlbCkgfSxcbiAgICB9KTtcbiAgfVxuICB0aHJvdyBuZXcgUHJvYmxlbSgnaW5wdXQtdmFsdWUnLCB7XG4gICAgd2hhdDogYC0tc2V0ICR7bmFtZX09JHtnaXZlbn0gZml0cyBub25lIG9mICR7Y2hvaWNlcy5sZW5ndGh9YCxcbiAgICByZW1lZHk6XG4gICAgICBuZWFyZXN0SGludChcbiAgICAgICAgZ2l2ZW4sXG4gICAgICAgIGNob2ljZXMubWFwKCh7IGxhYmVsIH0pID0+IGxhYmVsKSxcbiAgICAgICkgPz8gYHRoZXJlIGFyZTogJHtzb21lKGNob2ljZXMpfWAsXG4gICAgZGF0YTogeyBpbnB1dDogbmFtZSB9LFxuICB9KTtcbn1cblxuZnVuY3Rpb24gc29tZShjaG9pY2VzOiByZWFkb25seSBDaG9pY2VbXSk6IHN0cmluZyB7XG4gIGNvbnN0IGxhYmVscyA9IGNob2ljZXMuc2xpY2UoMCwgOCkubWFwKCh7IGxhYmVsIH0pID0+IGxhYmVsKTtcbiAgcmV0dXJuIGAke2xhYmVscy5qb2luKCc7ICcpfSR7Y2hvaWNlcy5sZW5ndGggPiBsYWJlbHMubGVuZ3RoID8gYDsgYW5kICR7Y2hvaWNlcy5sZW5ndGggLSBsYWJlbHMubGVuZ3RofSBtb3JlYCA6ICcnfWA7XG59XG4iLCAiLyoqIFN0ZXBzIHRoYXQgc2VuZCB0aGVpciByZXF1ZXN0IG1vcmUgdGhhbiBvbmNlLCBvciBvbmNlIG1vcmUgd2hlbiBhIHJ1biBpcyBnb25lIG9uIHdpdGg6IGl0IG11c3QgY2hhbmdlIG5vdGhpbmcuICovXG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB0eXBlIHsgUHJlcGFyZWRSZXF1ZXN0IH0gZnJvbSAnLi4vcHJlcGFyZS5qcyc7XG5pbXBvcnQgdHlwZSB7IFBsYW5Sb29tIH0gZnJvbSAnLi4vc3RlcC1raW5kLmpzJztcblxuLyoqIEB0aHJvd3MgUHJvYmxlbSBmaWxlLXNoYXBlICovXG5leHBvcnQgZnVuY3Rpb24gZGVtYW5kVW5jaGFuZ2luZyh7IHBsYW4gfTogUHJlcGFyZWRSZXF1ZXN0LCBrZXk6ICdwb2xsJyB8ICdjb21wYXJlJywgeyB5YW1sLCBwYXRoIH06IFBsYW5Sb29tKTogdm9pZCB7XG4gIGlmICghcGxhbi5jaGFuZ2VzKSByZXR1cm47XG4gIHRocm93IG5ldyBQcm9ibGVtKCdmaWxlLXNoYXBlJywge1xuICAgIHdoYXQ6IGAke2tleX0gc2VuZHMgJHtwbGFuLm5hbWV9IG1vcmUgdGhhbiBvbmNlLCBhbmQgJHtwbGFuLm1ldGhvZH0gY2hhbmdlcyBzb21ldGhpbmdgLFxuICAgIHdoZXJlOiB5YW1sLnBvc2l0aW9uKFsuLi5wYXRoLCBrZXldKSxcbiAgICByZW1lZHk6XG4gICAgICAnd2hlcmUgaXQgY2hhbmdlcyBub3RoaW5nLCB3cml0ZSBjaGFuZ2VzOiBmYWxzZSBpbiBpdHMgcmVxdWVzdCBmaWxlOyBlbHNlIHNlbmQgaXQgaW4gYSBzdGVwIGJlZm9yZSB0aGlzIG9uZScsXG4gIH0pO1xufVxuIiwgIi8qKiBgY29tcGFyZWA6IGZhaWxzIHdoZXJlIHR3byBhbnN3ZXJzIG9yIGRvY3VtZW50cyBkaWZmZXIsIG9yIGRpZmZlciBlbHNld2hlcmUgdGhhbiB0aGV5IHNob3VsZC4gKi9cbmltcG9ydCB0eXBlIHsgQ29tcGFyZVN0ZXBGaWxlLCBTaWRlRmlsZSB9IGZyb20gJy4uLy4uL2NvbGxlY3Rpb24vZmlsZXMvdHJhaWwtZmlsZS5qcyc7XG5pbXBvcnQgeyBhbnN3ZXJEaWZmZXJlbmNlcywgdHlwZSBDb21wYXJlZEFuc3dlciB9IGZyb20gJy4uLy4uL2NvbXBhcmlzb24vYW5zd2Vycy5qcyc7XG5pbXBvcnQgeyBjb3ZlcmluZyB9IGZyb20gJy4uLy4uL2NvbXBhcmlzb24vY291bnRpbmcuanMnO1xuaW1wb3J0IHR5cGUgeyBEaWZmZXJlbmNlIH0gZnJvbSAnLi4vLi4vY29tcGFyaXNvbi9kaWZmZXJlbmNlcy5qcyc7XG5pbXBvcnQgeyBjb21waWxlVHJlZSB9IGZyb20gJy4uLy4uL2V4cHJlc3Npb24vdHJlZS5qcyc7XG5pbXBvcnQgeyBjb21waWxlTWF0Y2hlcnMgfSBmcm9tICcuLi8uLi9tYXRjaGVyL2NvbXBpbGUuanMnO1xuaW1wb3J0IHR5cGUgeyBDaGVjayB9IGZyb20gJy4uLy4uL21hdGNoZXIvbWF0Y2hlci5qcyc7XG5pbXBvcnQgeyBzaG9ydFRleHQgfSBmcm9tICcuLi8uLi9tYXRjaGVyL3JlYWRpbmcuanMnO1xuaW1wb3J0IHsgYXNQcm9ibGVtLCBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IGR1cmF0aW9uVGV4dCB9IGZyb20gJy4uLy4uL3ZhbHVlL21lYXN1cmVzLmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUgfSBmcm9tICcuLi8uLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB7IGVjaG9TaWRlLCBmaWxlU2lkZSwgc2VudFNpZGUgfSBmcm9tICcuLi9jb21wYXJlLXNpZGUuanMnO1xuaW1wb3J0IHsgZXZhbHVhdGVkLCBnaXZlciwgcGxhbkdpdmVzLCB3YWxrRXZhbHVhdGlvbiB9IGZyb20gJy4uL2dpdmluZy5qcyc7XG5pbXBvcnQgdHlwZSB7IFByZXBhcmVkUmVxdWVzdCB9IGZyb20gJy4uL3ByZXBhcmUuanMnO1xuaW1wb3J0IHsgc2VjcmV0c0luIH0gZnJvbSAnLi4vc2VjcmV0cy1haGVhZC5qcyc7XG5pbXBvcnQgeyBzZW5kUmVxdWVzdCB9IGZyb20gJy4uL3NlbmQuanMnO1xuaW1wb3J0IHR5cGUgeyBQbGFuUm9vbSwgU3RlcEtpbmQsIFdhbGsgfSBmcm9tICcuLi9zdGVwLWtpbmQuanMnO1xuaW1wb3J0IHsgZGVtYW5kVW5jaGFuZ2luZyB9IGZyb20gJy4vdW5jaGFuZ2luZy5qcyc7XG5cbmludGVyZmFjZSBTaWRlIHtcbiAgcmVhZG9ubHkgbGFiZWw6IHN0cmluZztcbiAgcmVhZG9ubHkgcmVxdWVzdDogUHJlcGFyZWRSZXF1ZXN0IHwgdW5kZWZpbmVkO1xuICAvKiogdW5kZWZpbmVkIHdoZXJlIG5vdGhpbmcgaXMgc2VudC4gKi9cbiAgYW5zd2VyKHdhbGs6IFdhbGspOiBQcm9taXNlPENvbXBhcmVkQW5zd2VyIHwgdW5kZWZpbmVkPjtcbn1cblxuZXhwb3J0IGNvbnN0IGNvbXBhcmU6IFN0ZXBLaW5kPENvbXBhcmVTdGVwRmlsZT4gPSB7XG4gIG5hbWU6ICdjb21wYXJlJyxcbiAgZml0czogKGZpbGUpOiBmaWxlIGlzIENvbXBhcmVTdGVwRmlsZSA9PiAnY29tcGFyZScgaW4gZmlsZSxcbiAgYXN5bmMgcGxhbihmaWxlLCByb29tKSB7XG4gICAgY29uc3QgeyB5YW1sLCBwYXRoLCBsb2Fkcywgd29ya3NwYWNlIH0gPSByb29tO1xuICAgIGNvbnN0IHNpZGVzOiBTaWRlW10gPSBbXTtcbiAgICBmb3IgKGNvbnN0IFtpbmRleCwgc2lkZV0gb2YgZmlsZS5jb21wYXJlLmVudHJpZXMoKSkgc2lkZXMucHVzaChhd2FpdCBwbGFuU2lkZShzaWRlLCBpbmRleCwgcm9vbSkpO1xuICAgIGNvbnN0IFtvbmUsIG90aGVyXSA9IHNpZGVzIGFzIFtTaWRlLCBTaWRlXTtcbiAgICBjb25zdCBsYWJlbCA9IGZpbGUubmFtZSA/PyBgY29tcGFyZSAke29uZS5sYWJlbH0gd2l0aCAke290aGVyLmxhYmVsfWA7XG4gICAgY29uc3QgeyBpZ25vcmluZywgb25seSwgdW5vcmRlcmVkLCBjaGFuZ2VkIH0gPSBmaWxlO1xuICAgIGNvbnN0IHJhdGlvID0gZmlsZVsndGltZS1yYXRpbyddID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiByYXRpb0NoZWNrKGZpbGVbJ3RpbWUtcmF0aW8nXSk7XG5cbiAgICBmdW5jdGlvbiByYXRpb0NoZWNrKGV4cGVjdGVkOiBWYWx1ZSk6IENoZWNrIHtcbiAgICAgIHRyeSB7XG4gICAgICAgIHJldHVybiBjb21waWxlTWF0Y2hlcnMoZXhwZWN0ZWQsIHsgc3ViamVjdDogeyBzdHJpY3Q6IGZhbHNlIH0sIGxvYWRzLCByZWFkVGV4dDogd29ya3NwYWNlLnJlYWRUZXh0IH0pO1xuICAgICAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICAgICAgdGhyb3cgYXNQcm9ibGVtKGVycm9yKS5hdCh5YW1sLnBvc2l0aW9uKFsuLi5wYXRoLCAndGltZS1yYXRpbyddKSk7XG4gICAgICB9XG4gICAgfVxuXG4gICAgcmV0dXJuIHtcbiAgICAgIGtpbmQ6ICdjb21wYXJlJyxcbiAgICAgIGxhYmVsLFxuICAgICAgY2hhbmdlczogMCxcbiAgICAgIHJlcXVlc3RzOiBzaWRlcy5mbGF0TWFwKCh7IHJlcXVlc3QgfSkgPT4gcmVxdWVzdCA/PyBbXSksXG4gICAgICBzZWNyZXRzOiBzZWNyZXRzSW4oZmlsZS5jb21wYXJlLCB5YW1sLCBbLi4ucGF0aCwgJ2NvbXBhcmUnXSksXG4gICAgICBhc3luYyB3YWxrKHdhbGspIHtcbiAgICAgICAgLy8gT25lIGFmdGVyIHRoZSBvdGhlcjogdGhlIGZpcnN0IG1heSBiZSB3aGF0IHRoZSBzZWNvbmQgd2FpdHMgZm9yLlxuICAgICAgICBjb25zdCBsZWZ0ID0gYXdhaXQgb25lLmFuc3dlcih3YWxrKTtcbiAgICAgICAgY29uc3QgcmlnaHQgPSBhd2FpdCBvdGhlci5hbnN3ZXIod2Fsayk7XG4gICAgICAgIC8vIFdoZXJlIG5vdGhpbmcgaXMgc2VudCwgd2hhdCBpcyBjb21wYXJlZCBtYXkgYmUgbWFkZSBvZiBleGFtcGxlcy5cbiAgICAgICAgaWYgKCFsZWZ0IHx8ICFyaWdodCB8fCB3YWxrLndvcmtzcGFjZS5kcnlSdW4pIHJldHVybiB7IHNlbnQ6IHVuZGVmaW5lZCwga2VwdDogW10sIHByb2JsZW1zOiBbXSB9O1xuICAgICAgICBjb25zdCBmb3VuZCA9IGFuc3dlckRpZmZlcmVuY2VzKGxlZnQsIHJpZ2h0LCB7IGlnbm9yaW5nLCBvbmx5LCB1bm9yZGVyZWQgfSk7XG4gICAgICAgIGNvbnN0IHsgd3JvbmcsIG1pc3NpbmcgfSA9IGNoYW5nZWQgPyBhc0ludGVuZGVkKGZvdW5kLCBjaGFuZ2VkKSA6IHsgd3Jvbmc6IGZvdW5kLCBtaXNzaW5nOiBbXSB9O1xuICAgICAgICBjb25zdCBwcm9ibGVtcyA9IFtcbiAgICAgICAgICAuLi5taXNzaW5nLm1hcCgocGxhY2UpID0+IG5ldyBQcm9ibGVtKCdzdGVwLWZhaWxlZCcsIHsgd2hhdDogYCR7cGxhY2V9IHNob3VsZCBoYXZlIGNoYW5nZWQsIGFuZCBkaWQgbm90YCB9KSksXG4gICAgICAgICAgLi4uKHdyb25nLmxlbmd0aCA+IDAgPyBbZGlmZmVyKHdyb25nLCB3YWxrKV0gOiBbXSksXG4gICAgICAgICAgLi4uc2xvdyhyYXRpbywgbGVmdCwgcmlnaHQpLFxuICAgICAgICBdO1xuICAgICAgICByZXR1cm4geyBzZW50OiB1bmRlZmluZWQsIGtlcHQ6IFtdLCBwcm9ibGVtcywgdG9sZDogeyBkaWZmZXJlbmNlczogd3JvbmcgfSB9O1xuICAgICAgfSxcbiAgICAgIHJlc3RvcmU6ICgpID0+IHVuZGVmaW5lZCxcbiAgICB9O1xuICB9LFxufTtcblxuYXN5bmMgZnVuY3Rpb24gcGxhblNpZGUoc2lkZTogU2lkZUZpbGUsIGluZGV4OiBudW1iZXIsIHJvb206IFBsYW5Sb29tKTogUHJvbWlzZTxTaWRlPiB7XG4gIGNvbnN0IHBhdGggPSBbLi4ucm9vbS5wYXRoLCAnY29tcGFyZScsIGluZGV4XTtcbiAgaWYgKCdzZW5kJyBpbiBzaWRlKSB7XG4gICAgY29uc3QgcHJlcGFyZWQgPSBhd2FpdCByb29tLnJlcXVlc3Qoc2lkZS5zZW5kLCAnY29tcGFyZScpO1xuICAgIGRlbWFuZFVuY2hhbmdpbmcocHJlcGFyZWQsICdjb21wYXJlJywgcm9vbSk7XG4gICAgY29uc3QgZ2l2ZXMgPSBwbGFuR2l2ZXMoc2lkZS5naXZlLCByb29tLCBbLi4ucGF0aCwgJ2dpdmUnXSk7XG4gICAgY29uc3QgeyBzZXNzaW9uIH0gPSBzaWRlO1xuICAgIGNvbnN0IHNlc3Npb25zID0gc2Vzc2lvbiA9PT0gdW5kZWZpbmVkID8gdW5kZWZpbmVkIDogc2Vzc2lvbiA9PT0gJ25vbmUnID8gW10gOiBbc2Vzc2lvbl0uZmxhdCgpO1xuICAgIGNvbnN0IHsgbmFtZSB9ID0gcHJlcGFyZWQucGxhbjtcbiAgICByZXR1cm4ge1xuICAgICAgbGFiZWw6IG5hbWUsXG4gICAgICByZXF1ZXN0OiBwcmVwYXJlZCxcbiAgICAgIGFzeW5jIGFuc3dlcih7IHdvcmtzcGFjZSwgc2NvcGUsIHNpZ25hbCwgcm93IH0pIHtcbiAgICAgICAgY29uc3QgZ2l2ZW4gPSBnaXZlcihnaXZlcywgd29ya3NwYWNlLCBzY29wZSwgbmFtZSk7XG4gICAgICAgIGNvbnN0IGNhbGxlciA9IHdhbGtFdmFsdWF0aW9uKHdvcmtzcGFjZSwgc2NvcGUpLm5hbWVzO1xuICAgICAgICBjb25zdCBzZW50ID0gYXdhaXQgc2VuZFJlcXVlc3Qod29ya3NwYWNlLCBwcmVwYXJlZCwgeyBnaXZlbiwgY2FsbGVyLCBzZXNzaW9ucywgc2lnbmFsLCBzdGVwOiBuYW1lLCByb3cgfSk7XG4gICAgICAgIHJldHVybiB3b3Jrc3BhY2UuZHJ5UnVuID8gdW5kZWZpbmVkIDogc2VudFNpZGUoc2VudCk7XG4gICAgICB9LFxuICAgIH07XG4gIH1cbiAgaWYgKCdlY2hvJyBpbiBzaWRlKSB7XG4gICAgY29uc3QgeyBlY2hvIH0gPSBzaWRlO1xuICAgIHJldHVybiB7XG4gICAgICBsYWJlbDogYGVjaG8gJHtlY2hvfWAsXG4gICAgICByZXF1ZXN0OiB1bmRlZmluZWQsXG4gICAgICBhbnN3ZXI6ICh7IHdvcmtzcGFjZSB9KSA9PiBlY2hvU2lkZSh3b3Jrc3BhY2UuY29sbGVjdGlvbi5sb2NhbCwgZWNobyksXG4gICAgfTtcbiAgfVxuICBpZiAoJ2ZpbGUnIGluIHNpZGUpIHtcbiAgICBjb25zdCB7IGZpbGUgfSA9IHNpZGU7XG4gICAgcmV0dXJuIHtcbiAgICAgIGxhYmVsOiBmaWxlLFxuICAgICAgcmVxdWVzdDogdW5kZWZpbmVkLFxuICAgICAgYW5zd2VyOiBhc3luYyAoeyB3b3Jrc3BhY2UgfSkgPT4gZmlsZVNpZGUod29ya3NwYWNlLmNvbGxlY3Rpb24ucm9vdCwgZmlsZSksXG4gICAgfTtcbiAgfVxuICBjb25zdCB0cmVlID0gY29tcGlsZVRyZWUoc2lkZS52YWx1ZSwgKGlubmVyKSA9PiByb29tLnlhbWwucG9zaXRpb24oWy4uLnBhdGgsICd2YWx1ZScsIC4uLmlubmVyXSksIHJvb20ubG9hZHMpO1xuICBjb25zdCBsYWJlbCA9IHR5cGVvZiBzaWRlLnZhbHVlID09PSAnc3RyaW5nJyA/IHNpZGUudmFsdWUucmVwbGFjZSgvXlxcJFxceyguKilcXH0kLywgJyQxJykgOiAnYSB2YWx1ZSc7XG4gIHJldHVybiB7XG4gICAgbGFiZWwsXG4gICAgcmVxdWVzdDogdW5kZWZpbmVkLFxuICAgIGFzeW5jIGFuc3dlcih7IHdvcmtzcGFjZSwgc2NvcGUgfSkge1xuICAgICAgY29uc3QgdmFsdWUgPSBldmFsdWF0ZWQodHJlZSwgd2Fsa0V2YWx1YXRpb24od29ya3NwYWNlLCBzY29wZSksIGxhYmVsKT8udmFsdWUgPz8gbnVsbDtcbiAgICAgIGNvbnN0IHRleHQgPSB0eXBlb2YgdmFsdWUgPT09ICdzdHJpbmcnID8gdmFsdWUgOiAnJztcbiAgICAgIHJldHVybiB7IHN0YXR1czogdW5kZWZpbmVkLCBoZWFkZXJzOiBbXSwgdGV4dCwgLi4uKHR5cGVvZiB2YWx1ZSAhPT0gJ3N0cmluZycgJiYgeyB2YWx1ZSB9KSB9O1xuICAgIH0sXG4gIH07XG59XG5cbi8qKiBEaWZmZXJlbmNlcyBlbHNld2hlcmUgdGhhbiBhdCB0aGUgaW50ZW5kZWQgcGxhY2VzLCBhbmQgdGhvc2Ugb2YgdGhlbSB3aGVyZSB0aGVyZSBpcyBub25lLiAqL1xuZnVuY3Rpb24gYXNJbnRlbmRlZChcbiAgZm91bmQ6IHJlYWRvbmx5IERpZmZlcmVuY2VbXSxcbiAgY2hhbmdlZDogcmVhZG9ubHkgc3RyaW5nW10sXG4pOiB7IHJlYWRvbmx5IHdyb25nOiByZWFkb25seSBEaWZmZXJlbmNlW107IHJlYWRvbmx5IG1pc3Npbmc6IHJlYWRvbmx5IHN0cmluZ1tdIH0ge1xuICBjb25zdCBpbnRlbmRlZCA9IGNoYW5nZWQubWFwKChwbGFjZSkgPT4gKHsgcGxhY2UsIGNvdmVyczogY292ZXJpbmcocGxhY2UpIH0pKTtcbiAgcmV0dXJuIHtcbiAgICB3cm9uZzogZm91bmQuZmlsdGVyKCh7IGF0IH0pID0+ICFpbnRlbmRlZC5zb21lKCh7IGNvdmVycyB9KSA9PiBjb3ZlcnMoYXQpKSksXG4gICAgbWlzc2luZzogaW50ZW5kZWQuZmlsdGVyKCh7IGNvdmVycyB9KSA9PiAhZm91bmQuc29tZSgoeyBhdCB9KSA9PiBjb3ZlcnMoYXQpKSkubWFwKCh7IHBsYWNlIH0pID0+IHBsYWNlKSxcbiAgfTtcbn1cblxuZnVuY3Rpb24gZGlmZmVyKGZvdW5kOiByZWFkb25seSBEaWZmZXJlbmNlW10sIHsgd29ya3NwYWNlIH06IFdhbGspOiBQcm9ibGVtIHtcbiAgY29uc3QgW2ZpcnN0XSA9IGZvdW5kO1xuICBjb25zdCB7IGhpZGUgfSA9IHdvcmtzcGFjZS5yZWRhY3RvcjtcbiAgY29uc3QgYXQgPSBmaXJzdCAmJiBgJHtmaXJzdC5hdH06ICR7aGlkZShzaG9ydFRleHQoZmlyc3QubGVmdCkpfSwgYW5kICR7aGlkZShzaG9ydFRleHQoZmlyc3QucmlnaHQpKX1gO1xuICByZXR1cm4gbmV3IFByb2JsZW0oJ3N0ZXAtZmFpbGVkJywge1xuICAgIHdoYXQ6IGAke2ZvdW5kLmxlbmd0aH0gJHtmb3VuZC5sZW5ndGggPT09IDEgPyAnZGlmZmVyZW5jZScgOiAnZGlmZmVyZW5jZXMnfWAsXG4gICAgY2F1c2U6IGF0LFxuICB9KTtcbn1cblxuZnVuY3Rpb24gc2xvdyhjaGVjazogQ2hlY2sgfCB1bmRlZmluZWQsIGxlZnQ6IENvbXBhcmVkQW5zd2VyLCByaWdodDogQ29tcGFyZWRBbnN3ZXIpOiBQcm9ibGVtW10ge1xuICBpZiAoIWNoZWNrIHx8IGxlZnQudGltZSA9PT0gdW5kZWZpbmVkIHx8IHJpZ2h0LnRpbWUgPT09IHVuZGVmaW5lZCkgcmV0dXJuIFtdO1xuICBjb25zdCByYXRpbyA9IE1hdGgucm91bmQoKHJpZ2h0LnRpbWUgLyBNYXRoLm1heChsZWZ0LnRpbWUsIDAuMDAxKSkgKiAxMDApIC8gMTAwO1xuICBpZiAoY2hlY2subWlzcyhyYXRpbywge30pID09PSB1bmRlZmluZWQpIHJldHVybiBbXTtcbiAgcmV0dXJuIFtcbiAgICBuZXcgUHJvYmxlbSgnc3RlcC1mYWlsZWQnLCB7XG4gICAgICB3aGF0OiBgdGhlIHNlY29uZCBhbnN3ZXIgdG9vayAke3JhdGlvfSB0aW1lcyBhcyBsb25nIGFzIHRoZSBmaXJzdCwgZXhwZWN0ZWQgJHtjaGVjay5kZXNjcmliZSgpfWAsXG4gICAgICBjYXVzZTogYCR7ZHVyYXRpb25UZXh0KGxlZnQudGltZSl9LCBhbmQgJHtkdXJhdGlvblRleHQocmlnaHQudGltZSl9YCxcbiAgICB9KSxcbiAgXTtcbn1cbiIsICIvKiogV2hpY2ggb2Ygc2V2ZXJhbCBwcm9ibGVtcyBkZWNpZGVzLCBpbiB0aGUgb3JkZXIgb2YgdGhlIGV4aXQgc3RhdHVzZXMuICovXG5pbXBvcnQgdHlwZSB7IFByb2JsZW0gfSBmcm9tICcuLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuXG5jb25zdCBvcmRlcjogcmVhZG9ubHkgUHJvYmxlbVsnZmFtaWx5J11bXSA9IFtcbiAgJ2ZhaWxlZC1leHBlY3RhdGlvbicsXG4gICduby1hbnN3ZXInLFxuICAncmVmdXNlZCcsXG4gICd3cm9uZy1pbnB1dCcsXG4gICdmYXVsdCcsXG4gICdpbnRlcnJ1cHRlZCcsXG5dO1xuXG5leHBvcnQgZnVuY3Rpb24gZ3JhdmVyKG9uZTogUHJvYmxlbSB8IHVuZGVmaW5lZCwgb3RoZXI6IFByb2JsZW0pOiBQcm9ibGVtIHtcbiAgcmV0dXJuIG9uZSAmJiBvcmRlci5pbmRleE9mKG9uZS5mYW1pbHkpID49IG9yZGVyLmluZGV4T2Yob3RoZXIuZmFtaWx5KSA/IG9uZSA6IG90aGVyO1xufVxuIiwgIi8qKiBNYW55IHBpZWNlcyBvZiB3b3JrLCBzbyBtYW55IGF0IG9uY2UsIGJlZ3VuIGluIG9yZGVyIGFzIHRoZXkgY29tZSBmcm9tIGEgc3RyZWFtOiBtZW1vcnkgaG9sZHMgb25seSB0aG9zZS4gKi9cbmltcG9ydCB7IGFzUHJvYmxlbSwgdHlwZSBQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcblxuLyoqXG4gKiBAcGFyYW0gd29yayBpcyBnaXZlbiBlYWNoIGl0ZW0gd2l0aCBpdHMgbnVtYmVyLCBmcm9tIDFcbiAqIEByZXR1cm5zIHdoYXQgZW5kZWQgdGhlIHJlYWRpbmcgZWFybHk7IHVuZGVmaW5lZCB3aGVyZSBhbGwgd2VyZSB3b3JrZWQgb24sIG9yIHRoZSBzaWduYWwgY2FtZVxuICovXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gbWFueUF0T25jZTxUPihcbiAgaXRlbXM6IEFzeW5jSXRlcmF0b3I8VD4sXG4gIGF0T25jZTogbnVtYmVyLFxuICB3b3JrOiAoaXRlbTogVCwgbnVtYmVyOiBudW1iZXIpID0+IFByb21pc2U8dm9pZD4sXG4gIHNpZ25hbDogQWJvcnRTaWduYWwsXG4pOiBQcm9taXNlPFByb2JsZW0gfCB1bmRlZmluZWQ+IHtcbiAgbGV0IGZhdWx0OiBQcm9ibGVtIHwgdW5kZWZpbmVkO1xuICBsZXQgbnVtYmVyID0gMDtcbiAgYXN5bmMgZnVuY3Rpb24gd29ya2VyKCk6IFByb21pc2U8dm9pZD4ge1xuICAgIHdoaWxlICghc2lnbmFsLmFib3J0ZWQgJiYgIWZhdWx0KSB7XG4gICAgICBjb25zdCBuZXh0ID0gYXdhaXQgaXRlbXMubmV4dCgpO1xuICAgICAgaWYgKG5leHQuZG9uZSkgcmV0dXJuO1xuICAgICAgLy8gVGhvc2Ugd2hvIGFzayBhcmUgYW5zd2VyZWQgaW4gdGhlIG9yZGVyIGluIHdoaWNoIHRoZXkgYXNrZWQuXG4gICAgICBudW1iZXIgKz0gMTtcbiAgICAgIGF3YWl0IHdvcmsobmV4dC52YWx1ZSwgbnVtYmVyKTtcbiAgICB9XG4gIH1cbiAgY29uc3QgZ3VhcmRlZCA9ICgpOiBQcm9taXNlPHZvaWQ+ID0+XG4gICAgd29ya2VyKCkuY2F0Y2goKGVycm9yOiB1bmtub3duKSA9PiB7XG4gICAgICBmYXVsdCA/Pz0gYXNQcm9ibGVtKGVycm9yKTtcbiAgICB9KTtcbiAgYXdhaXQgUHJvbWlzZS5hbGwoQXJyYXkuZnJvbSh7IGxlbmd0aDogYXRPbmNlIH0sIGd1YXJkZWQpKTtcbiAgYXdhaXQgaXRlbXMucmV0dXJuPy4oKTtcbiAgcmV0dXJuIGZhdWx0O1xufVxuIiwgIi8qKiBgdGFibGVgOiB3aGF0IGxlYXZlcyB0aGUgcm93cyBvciB0aGUgaXRlcmF0aW9ucyBvZiBhIHdhbGssIGEgbGluZSBlYWNoLCBpbiB0aGVpciBvcmRlci4gKi9cbmltcG9ydCB0eXBlIHsgVGFibGVGaWxlIH0gZnJvbSAnLi4vY29sbGVjdGlvbi9maWxlcy90cmFpbC1maWxlLmpzJztcbmltcG9ydCB0eXBlIHsgWWFtbEZpbGUgfSBmcm9tICcuLi9jb2xsZWN0aW9uL3lhbWwuanMnO1xuaW1wb3J0IHR5cGUgeyBSZWNlaXZlZCB9IGZyb20gJy4uL2V4Y2hhbmdlL3JlY2VpdmVkLmpzJztcbmltcG9ydCB0eXBlIHsgTG9hZHMgfSBmcm9tICcuLi9leHByZXNzaW9uL2NvbXBpbGUuanMnO1xuaW1wb3J0IHsgb21pdHRlZCB9IGZyb20gJy4uL2V4cHJlc3Npb24vZXZhbHVhdGlvbi5qcyc7XG5pbXBvcnQgeyBjb21waWxlVHJlZSwgdHlwZSBUcmVlIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi90cmVlLmpzJztcbmltcG9ydCB0eXBlIHsgUGxhY2UgfSBmcm9tICcuLi9wbGFjZS9wbGFjZS5qcyc7XG5pbXBvcnQgeyByZWFkUGxhY2UgfSBmcm9tICcuLi9wbGFjZS9yZWdpc3RyeS5qcyc7XG5pbXBvcnQgeyBhc1Byb2JsZW0sIHR5cGUgUHJvYmxlbSB9IGZyb20gJy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBwbGFjZUluc2lkZSB9IGZyb20gJy4uL3N0b3JhZ2UvaW5zaWRlLmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUsIFZhbHVlTWFwIH0gZnJvbSAnLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgdHlwZSB7IFRhYmxlRXZlbnQgfSBmcm9tICcuL2V2ZW50cy5qcyc7XG5pbXBvcnQgeyB3YWxrRXZhbHVhdGlvbiB9IGZyb20gJy4vZ2l2aW5nLmpzJztcbmltcG9ydCB0eXBlIHsgV2FsayB9IGZyb20gJy4vc3RlcC1raW5kLmpzJztcbmltcG9ydCB7IGRlbWFuZFRhYmxlRmlsZSwgdGFibGVXcml0ZXIgfSBmcm9tICcuL3RhYmxlLWZpbGUuanMnO1xuXG5leHBvcnQgaW50ZXJmYWNlIFRhYmxlUGxhbiB7XG4gIC8qKiBJbiBvcmRlci4gKi9cbiAgcmVhZG9ubHkgY29sdW1uczogcmVhZG9ubHkgc3RyaW5nW107XG4gIC8qKiBDb2x1bW5zIHRoYXQgYXJlIHdvcmtlZCBvdXQuICovXG4gIHJlYWRvbmx5IHRyZWVzOiBSZWFkb25seU1hcDxzdHJpbmcsIFRyZWU+O1xuICAvKiogQ29sdW1ucyB0aGF0IHN0YW5kIGF0IGEgcGxhY2Ugb2YgdGhlIGxhc3QgYW5zd2VyLiAqL1xuICByZWFkb25seSBwbGFjZXM6IFJlYWRvbmx5TWFwPHN0cmluZywgUGxhY2U+O1xuICByZWFkb25seSBhczogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSB0bzogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSBzaG93OiBib29sZWFuO1xufVxuXG4vKiogVGhlIGNvbHVtbiB0aGF0IHNheXMgd2h5IGEgbGluZSBpcyBub3Qgd2hvbGUuICovXG5jb25zdCBlcnJvckNvbHVtbiA9ICdlcnJvcic7XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gYWJvdXQgYSBjb2x1bW4sIHdpdGggaXRzIHBsYWNlIGluIHRoZSBmaWxlICovXG5leHBvcnQgZnVuY3Rpb24gcGxhblRhYmxlKFxuICBzcGVjOiBUYWJsZUZpbGUsXG4gIHlhbWw6IFBpY2s8WWFtbEZpbGUsICdwb3NpdGlvbic+LFxuICBwYXRoOiByZWFkb25seSAoc3RyaW5nIHwgbnVtYmVyKVtdLFxuICBsb2FkczogTG9hZHMsXG4pOiBUYWJsZVBsYW4ge1xuICBjb25zdCB0cmVlcyA9IG5ldyBNYXA8c3RyaW5nLCBUcmVlPigpO1xuICBjb25zdCBwbGFjZXMgPSBuZXcgTWFwPHN0cmluZywgUGxhY2U+KCk7XG4gIGZvciAoY29uc3QgW25hbWUsIHRleHRdIG9mIE9iamVjdC5lbnRyaWVzKHNwZWMuY29sdW1ucykpIHtcbiAgICBjb25zdCB3aGVyZSA9IHlhbWwucG9zaXRpb24oWy4uLnBhdGgsICdjb2x1bW5zJywgbmFtZV0pO1xuICAgIHRyeSB7XG4gICAgICBpZiAodGV4dC5pbmNsdWRlcygnJHsnKSlcbiAgICAgICAgdHJlZXMuc2V0KFxuICAgICAgICAgIG5hbWUsXG4gICAgICAgICAgY29tcGlsZVRyZWUodGV4dCwgKCkgPT4gd2hlcmUsIGxvYWRzKSxcbiAgICAgICAgKTtcbiAgICAgIGVsc2UgcGxhY2VzLnNldChuYW1lLCByZWFkUGxhY2UodGV4dCwgbG9hZHMpKTtcbiAgICB9IGNhdGNoIChlcnJvcikge1xuICAgICAgdGhyb3cgYXNQcm9ibGVtKGVycm9yKS5hdCh3aGVyZSk7XG4gICAgfVxuICB9XG4gIHRyeSB7XG4gICAgaWYgKHNwZWMudG8gIT09IHVuZGVmaW5lZCkgZGVtYW5kVGFibGVGaWxlKHNwZWMudG8pO1xuICB9IGNhdGNoIChlcnJvcikge1xuICAgIHRocm93IGFzUHJvYmxlbShlcnJvcikuYXQoeWFtbC5wb3NpdGlvbihbLi4ucGF0aCwgJ3RvJ10pKTtcbiAgfVxuICByZXR1cm4ge1xuICAgIGNvbHVtbnM6IE9iamVjdC5rZXlzKHNwZWMuY29sdW1ucyksXG4gICAgdHJlZXMsXG4gICAgcGxhY2VzLFxuICAgIGFzOiBzcGVjLmFzLFxuICAgIHRvOiBzcGVjLnRvLFxuICAgIHNob3c6IHNwZWMuc2hvdyA/PyAoc3BlYy5hcyA9PT0gdW5kZWZpbmVkICYmIHNwZWMudG8gPT09IHVuZGVmaW5lZCksXG4gIH07XG59XG5cbi8qKiBXaGF0IGFuIGFuc3dlciBsZWF2ZXMgaW4gdGhlIGNvbHVtbnMgdGhhdCBhcmUgcGxhY2VzOyB0aGUgbmV4dCBhbnN3ZXIgdGFrZXMgaXRzIHBsYWNlLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHBsYWNlZENlbGxzKHsgcGxhY2VzIH06IFRhYmxlUGxhbiwgcmVjZWl2ZWQ6IFJlY2VpdmVkKTogVmFsdWVNYXAge1xuICBjb25zdCBjZWxsczogUmVjb3JkPHN0cmluZywgVmFsdWU+ID0ge307XG4gIGZvciAoY29uc3QgW25hbWUsIHBsYWNlXSBvZiBwbGFjZXMpIHtcbiAgICB0cnkge1xuICAgICAgY2VsbHNbbmFtZV0gPSBwbGFjZS5maW5kKHJlY2VpdmVkKSA/PyBudWxsO1xuICAgIH0gY2F0Y2gge1xuICAgICAgLy8gQW4gYW5zd2VyIG9mIGFub3RoZXIga2luZCBoYXMgbm90aGluZyB0aGVyZS5cbiAgICAgIGNlbGxzW25hbWVdID0gbnVsbDtcbiAgICB9XG4gIH1cbiAgcmV0dXJuIGNlbGxzO1xufVxuXG4vKiogVGhlIGxpbmUgb2YgYSByb3cgb3IgYW4gaXRlcmF0aW9uLCBhbmQgd2hhdCBpdCBjYW1lIHRvIGJ5IHRoYXQ6IGEgY29sdW1uIHRoYXQgY2Fubm90IGJlIHdvcmtlZCBvdXQgaXMgYSBmYWlsdXJlLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGxpbmVPZihcbiAgcGxhbjogVGFibGVQbGFuLFxuICB3YWxrOiBXYWxrLFxuICBwcm9ibGVtOiBQcm9ibGVtIHwgdW5kZWZpbmVkLFxuKTogeyByZWFkb25seSBjZWxsczogVmFsdWVNYXA7IHJlYWRvbmx5IHByb2JsZW06IFByb2JsZW0gfCB1bmRlZmluZWQgfSB7XG4gIHRyeSB7XG4gICAgcmV0dXJuIHsgY2VsbHM6IGNlbGxzT2YocGxhbiwgd2FsaywgcHJvYmxlbSksIHByb2JsZW0gfTtcbiAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICBjb25zdCB1bmtub3duID0gYXNQcm9ibGVtKGVycm9yKTtcbiAgICByZXR1cm4geyBjZWxsczogY2VsbHNPZihwbGFuLCB3YWxrLCB1bmtub3duKSwgcHJvYmxlbTogdW5rbm93biB9O1xuICB9XG59XG5cbi8qKiBPbmUgdGhhdCBmYWlsZWQgaGFzIHdoYXQgaXQgY2FtZSB0bywgYW5kIGl0cyBlcnJvci4gQHRocm93cyBQcm9ibGVtOiBvZiBvbmUgdGhhdCBkaWQgbm90IGZhaWwsIGEgbmFtZSB0aGF0IGlzIG5vdCBrbm93biAqL1xuZnVuY3Rpb24gY2VsbHNPZih7IGNvbHVtbnMsIHRyZWVzIH06IFRhYmxlUGxhbiwgd2FsazogV2FsaywgZmFpbGVkOiBQcm9ibGVtIHwgdW5kZWZpbmVkKTogVmFsdWVNYXAge1xuICBjb25zdCBjZWxsczogUmVjb3JkPHN0cmluZywgVmFsdWU+ID0ge307XG4gIGNvbnN0IGV2YWx1YXRpb24gPSB3YWxrRXZhbHVhdGlvbih3YWxrLndvcmtzcGFjZSwgd2Fsay5zY29wZSk7XG4gIGZvciAoY29uc3QgbmFtZSBvZiBjb2x1bW5zKSB7XG4gICAgY29uc3QgdHJlZSA9IHRyZWVzLmdldChuYW1lKTtcbiAgICBjZWxsc1tuYW1lXSA9IHdhbGsubGFzdC5jZWxsc1tuYW1lXSA/PyBudWxsO1xuICAgIHRyeSB7XG4gICAgICBjb25zdCB2YWx1ZSA9IHRyZWU/LmV2YWx1YXRlKGV2YWx1YXRpb24pO1xuICAgICAgaWYgKHZhbHVlICE9PSB1bmRlZmluZWQgJiYgdmFsdWUgIT09IG9taXR0ZWQpIGNlbGxzW25hbWVdID0gdmFsdWU7XG4gICAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICAgIGlmICghZmFpbGVkKSB0aHJvdyBlcnJvcjtcbiAgICB9XG4gIH1cbiAgaWYgKGZhaWxlZCkgY2VsbHNbZXJyb3JDb2x1bW5dID0gd2Fsay53b3Jrc3BhY2UucmVkYWN0b3IuaGlkZShmYWlsZWQud2hhdCk7XG4gIC8vIEEgdGFibGUgaXMgcmVhZCBieSBvdGhlcnM6IHdoYXQgaXMgc2VjcmV0IGlzIG5vdCBpbiBpdC5cbiAgcmV0dXJuIHdhbGsud29ya3NwYWNlLnJlZGFjdG9yLmhpZGVJbihjZWxscykgYXMgVmFsdWVNYXA7XG59XG5cbi8qKiBMaW5lcyB0aGF0IGNvbWUgaW4gYW55IG9yZGVyIGFyZSBwdXQgaW50byB0aGVpcnM7IGEgZmlsZSBvZiB0aGVtIGlzIGluIGl0cyBwbGFjZSB3aGVuIGFsbCBhcmUgdGhlcmUuICovXG5leHBvcnQgaW50ZXJmYWNlIFRhYmxlIHtcbiAgLyoqIEBwYXJhbSBudW1iZXIgZnJvbSAxICovXG4gIGFkZChudW1iZXI6IG51bWJlciwgY2VsbHM6IFZhbHVlTWFwKTogUHJvbWlzZTx2b2lkPjtcbiAgLyoqIEByZXR1cm5zIGhvdyBtYW55IGxpbmVzIHRoZXJlIGFyZSwgYW5kIHRob3NlIHRoYXQgYXJlIHRvIGJlIHNob3duIG9yIG5hbWVkICovXG4gIGZpbmlzaCgpOiBQcm9taXNlPHsgcmVhZG9ubHkgY291bnQ6IG51bWJlcjsgcmVhZG9ubHkgbGluZXM6IHJlYWRvbmx5IFZhbHVlTWFwW10gfT47XG4gIC8qKiBMZWF2ZXMgd2hhdCB3YXMgaW4gaXRzIHBsYWNlIGJlZm9yZS4gKi9cbiAgYWJhbmRvbigpOiBQcm9taXNlPHZvaWQ+O1xufVxuXG4vKiogU28gbWFueSBsaW5lcyBhcmUga2VwdCBmb3IgdGhlIHRlcm1pbmFsIHdoZXJlIG5vdGhpbmcgZWxzZSB3YW50cyB0aGVtLiAqL1xuY29uc3Qgc2hvd25MaW5lcyA9IDIwMDtcblxuLyoqIEBwYXJhbSByb290IG9mIHRoZSBjb2xsZWN0aW9uLCB3aGVyZSBpdHMgZmlsZSBnb2VzIEB0aHJvd3MgUHJvYmxlbSBmaWxlLXVucmVhZGFibGUsIGZpbGUtb3V0c2lkZSwgdXNhZ2UgKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiBvcGVuVGFibGUocGxhbjogVGFibGVQbGFuLCByb290OiBzdHJpbmcpOiBQcm9taXNlPFRhYmxlPiB7XG4gIGNvbnN0IGhlYWRzID0gWy4uLnBsYW4uY29sdW1ucywgZXJyb3JDb2x1bW5dO1xuICBjb25zdCB3cml0ZXIgPSBwbGFuLnRvID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiBhd2FpdCB0YWJsZVdyaXRlcihwbGFjZUluc2lkZShyb290LCBwbGFuLnRvKSwgaGVhZHMpO1xuICBjb25zdCBlYXJseSA9IG5ldyBNYXA8bnVtYmVyLCBWYWx1ZU1hcD4oKTtcbiAgY29uc3QgbGluZXM6IFZhbHVlTWFwW10gPSBbXTtcbiAgbGV0IG5leHQgPSAxO1xuICByZXR1cm4ge1xuICAgIGFzeW5jIGFkZChudW1iZXIsIGNlbGxzKSB7XG4gICAgICBlYXJseS5zZXQobnVtYmVyLCBjZWxscyk7XG4gICAgICBmb3IgKGxldCBsaW5lID0gZWFybHkuZ2V0KG5leHQpOyBsaW5lOyBsaW5lID0gZWFybHkuZ2V0KG5leHQpKSB7XG4gICAgICAgIGVhcmx5LmRlbGV0ZShuZXh0KTtcbiAgICAgICAgbmV4dCArPSAxO1xuICAgICAgICBpZiAocGxhbi5hcyAhPT0gdW5kZWZpbmVkIHx8IGxpbmVzLmxlbmd0aCA8IHNob3duTGluZXMpIGxpbmVzLnB1c2gobGluZSk7XG4gICAgICAgIGF3YWl0IHdyaXRlcj8uYWRkKGxpbmUpO1xuICAgICAgfVxuICAgIH0sXG4gICAgYXN5bmMgZmluaXNoKCkge1xuICAgICAgLy8gV2hhdCB3YXMgcGFzc2VkIG92ZXIgbGVhdmVzIGEgZ2FwLlxuICAgICAgZm9yIChjb25zdCBbLCBsaW5lXSBvZiBbLi4uZWFybHldLnNvcnQoKFthXSwgW2JdKSA9PiBhIC0gYikpIHtcbiAgICAgICAgbmV4dCArPSAxO1xuICAgICAgICBpZiAocGxhbi5hcyAhPT0gdW5kZWZpbmVkIHx8IGxpbmVzLmxlbmd0aCA8IHNob3duTGluZXMpIGxpbmVzLnB1c2gobGluZSk7XG4gICAgICAgIGF3YWl0IHdyaXRlcj8uYWRkKGxpbmUpO1xuICAgICAgfVxuICAgICAgYXdhaXQgd3JpdGVyPy5maW5pc2goKTtcbiAgICAgIHJldHVybiB7IGNvdW50OiBuZXh0IC0gMSwgbGluZXMgfTtcbiAgICB9LFxuICAgIGFiYW5kb246IGFzeW5jICgpID0+IHdyaXRlcj8uYWJhbmRvbigpLFxuICB9O1xufVxuXG4vKiogUHV0cyBhIHRhYmxlIHRoYXQgaXMgd2hvbGUgaW4gaXRzIHBsYWNlLiBAcmV0dXJucyB3aGF0IGlzIHRvbGQgb2YgaXQsIGFuZCBpdHMgbGluZXMgd2hlcmUgdGhleSBhcmUgdG8gYmUgbmFtZWQgKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiBzZXR0bGVUYWJsZShcbiAgcGxhbjogVGFibGVQbGFuLFxuICB0YWJsZTogVGFibGUsXG4gIGxhYmVsOiBzdHJpbmcsXG4gIHJvdzogbnVtYmVyIHwgdW5kZWZpbmVkLFxuKTogUHJvbWlzZTxUYWJsZUV2ZW50PiB7XG4gIGNvbnN0IHsgY291bnQsIGxpbmVzIH0gPSBhd2FpdCB0YWJsZS5maW5pc2goKTtcbiAgY29uc3QgeyBjb2x1bW5zLCB0bywgc2hvdyB9ID0gcGxhbjtcbiAgcmV0dXJuIHsgZXZlbnQ6ICd0YWJsZScsIGxhYmVsLCByb3csIGNvbHVtbnMsIGxpbmVzLCBjb3VudCwgdG8sIHNob3cgfTtcbn1cbiIsICIvKiogV2hhdCBgZm9yLWVhY2hgIGdvZXMgdGhyb3VnaDogYSB2YWx1ZSwgYSByYW5nZSwgdGhlIHJvd3Mgb2YgYSBmaWxlLCBvciB0aGUgcGFnZXMgb2YgYSByZXF1ZXN0LiAqL1xuaW1wb3J0IHR5cGUgeyBNZW1iZXJzRmlsZSB9IGZyb20gJy4uLy4uL2NvbGxlY3Rpb24vZmlsZXMvdHJhaWwtZmlsZS5qcyc7XG5pbXBvcnQgeyBjb21waWxlVHJlZSB9IGZyb20gJy4uLy4uL2V4cHJlc3Npb24vdHJlZS5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IGlzVmFsdWVNYXAsIHR5cGUgVmFsdWUgfSBmcm9tICcuLi8uLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB7IGV2YWx1YXRlZCwgZ2l2ZXIsIHBsYW5HaXZlcywgd2Fsa0V2YWx1YXRpb24gfSBmcm9tICcuLi9naXZpbmcuanMnO1xuaW1wb3J0IHsgZ3JhdmVyIH0gZnJvbSAnLi4vZ3Jhdml0eS5qcyc7XG5pbXBvcnQgeyB0eXBlIFBhZ2VDb3VudCwgcGFnZXNPZiB9IGZyb20gJy4uL3BhZ2luZy9wYWdlcy5qcyc7XG5pbXBvcnQgdHlwZSB7IFByZXBhcmVkUmVxdWVzdCB9IGZyb20gJy4uL3ByZXBhcmUuanMnO1xuaW1wb3J0IHsgZmlsZVJvd3MsIHJlYWR5Um93cyB9IGZyb20gJy4uL3Jvd3MvcmVnaXN0cnkuanMnO1xuaW1wb3J0IHR5cGUgeyBTZW50IH0gZnJvbSAnLi4vc2VuZGluZy5qcyc7XG5pbXBvcnQgdHlwZSB7IFBsYW5Sb29tLCBXYWxrIH0gZnJvbSAnLi4vc3RlcC1raW5kLmpzJztcblxuZXhwb3J0IGludGVyZmFjZSBNZW1iZXIge1xuICByZWFkb25seSB2YWx1ZTogVmFsdWU7XG4gIHJlYWRvbmx5IHNlY3JldDogYm9vbGVhbjtcbn1cblxuZXhwb3J0IGludGVyZmFjZSBNZW1iZXJzUGxhbiB7XG4gIC8qKiBUaGUgcmVxdWVzdCB3aG9zZSBwYWdlcyB0aGV5IGFyZS4gKi9cbiAgcmVhZG9ubHkgcmVxdWVzdDogUHJlcGFyZWRSZXF1ZXN0IHwgdW5kZWZpbmVkO1xuICAvKiogVGhlIG1lbWJlcnMgYXMgdGhleSBjb21lOyB3aGF0IGlzIHNlY3JldCBhYm91dCBvbmUgaXMgc2FpZCBvZiBpdC4gKi9cbiAgcmVhZCh3YWxrOiBXYWxrLCB0b2xkOiBQYWdlc1RvbGQpOiBBc3luY0l0ZXJhYmxlPE1lbWJlcj47XG59XG5cbi8qKiBXaGF0IHRoZSBwYWdlcyBzYWlkLCBvbmNlIHRoZXkgd2VyZSByZWFkLiAqL1xuZXhwb3J0IGludGVyZmFjZSBQYWdlc1RvbGQge1xuICBzZW50PzogU2VudDtcbiAgcGFnZXM/OiBQYWdlQ291bnQ7XG59XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gYWJvdXQgdGhlIGZpbGUgb3IgdGhlIHJlcXVlc3QgdGhhdCBpcyBuYW1lZCAqL1xuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIHBsYW5NZW1iZXJzKGdpdmVuOiBNZW1iZXJzRmlsZSwgbGFiZWw6IHN0cmluZywgcm9vbTogUGxhblJvb20pOiBQcm9taXNlPE1lbWJlcnNQbGFuPiB7XG4gIGNvbnN0IHBhdGggPSBbLi4ucm9vbS5wYXRoLCAnZm9yLWVhY2gnXTtcbiAgY29uc3Qgd2hlcmUgPSByb29tLnlhbWwucG9zaXRpb24ocGF0aCk7XG4gIGlmICh0eXBlb2YgZ2l2ZW4gPT09ICdzdHJpbmcnIHx8IEFycmF5LmlzQXJyYXkoZ2l2ZW4pKSB7XG4gICAgY29uc3QgdHJlZSA9IGNvbXBpbGVUcmVlKGdpdmVuIGFzIFZhbHVlLCAoaW5uZXIpID0+IHJvb20ueWFtbC5wb3NpdGlvbihbLi4ucGF0aCwgLi4uaW5uZXJdKSwgcm9vbS5sb2Fkcyk7XG4gICAgcmV0dXJuIHtcbiAgICAgIHJlcXVlc3Q6IHVuZGVmaW5lZCxcbiAgICAgIGFzeW5jICpyZWFkKHsgd29ya3NwYWNlLCBzY29wZSB9KSB7XG4gICAgICAgIGNvbnN0IG5hbWVkID0gZXZhbHVhdGVkKHRyZWUsIHdhbGtFdmFsdWF0aW9uKHdvcmtzcGFjZSwgc2NvcGUpLCBgc3RlcCAke2xhYmVsfWApO1xuICAgICAgICBmb3IgKGNvbnN0IHZhbHVlIG9mIGxpc3RPZihuYW1lZD8udmFsdWUsIGxhYmVsKSkgeWllbGQgeyB2YWx1ZSwgc2VjcmV0OiBuYW1lZD8uc2VjcmV0ID09PSB0cnVlIH07XG4gICAgICB9LFxuICAgIH07XG4gIH1cbiAgaWYgKCdyYW5nZScgaW4gZ2l2ZW4pIHtcbiAgICBjb25zdCBbZnJvbSwgdG9dID0gZ2l2ZW4ucmFuZ2U7XG4gICAgcmV0dXJuIHtcbiAgICAgIHJlcXVlc3Q6IHVuZGVmaW5lZCxcbiAgICAgIGFzeW5jICpyZWFkKCkge1xuICAgICAgICBjb25zdCBzdGVwID0gZnJvbSA8PSB0byA/IDEgOiAtMTtcbiAgICAgICAgZm9yIChsZXQgdmFsdWUgPSBmcm9tOyBzdGVwID4gMCA/IHZhbHVlIDw9IHRvIDogdmFsdWUgPj0gdG87IHZhbHVlICs9IHN0ZXApIHlpZWxkIHsgdmFsdWUsIHNlY3JldDogZmFsc2UgfTtcbiAgICAgIH0sXG4gICAgfTtcbiAgfVxuICBpZiAoJ3Jvd3MnIGluIGdpdmVuKSB7XG4gICAgcmVhZHlSb3dzKHJvb20uY29sbGVjdGlvbi5yb290LCBnaXZlbi5yb3dzLCByb29tLmxvYWRzLCByb29tLnlhbWwucG9zaXRpb24oWy4uLnBhdGgsICdyb3dzJ10pKTtcbiAgICByZXR1cm4ge1xuICAgICAgcmVxdWVzdDogdW5kZWZpbmVkLFxuICAgICAgYXN5bmMgKnJlYWQoeyB3b3Jrc3BhY2UgfSkge1xuICAgICAgICBmb3IgYXdhaXQgKGNvbnN0IHZhbHVlIG9mIGZpbGVSb3dzKHdvcmtzcGFjZS5jb2xsZWN0aW9uLnJvb3QsIGdpdmVuLnJvd3MpKSB5aWVsZCB7IHZhbHVlLCBzZWNyZXQ6IGZhbHNlIH07XG4gICAgICB9LFxuICAgIH07XG4gIH1cbiAgY29uc3QgcHJlcGFyZWQgPSBhd2FpdCByb29tLnJlcXVlc3QoZ2l2ZW4ucGFnZXMsICdmb3ItZWFjaCcpO1xuICBpZiAoIXByZXBhcmVkLnBhZ2VzKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ2ZpbGUtc2hhcGUnLCB7XG4gICAgICB3aGF0OiBgdGhlIHJlcXVlc3QgJHtwcmVwYXJlZC5wbGFuLm5hbWV9IGhhcyBubyBwYWdlc2AsXG4gICAgICB3aGVyZSxcbiAgICAgIHJlbWVkeTogJ3NheSBob3cgaXRzIGxpc3QgY29tZXMgaW4gcGFnZXM6IGBwYWdlczpgIGluIHRoZSByZXF1ZXN0IGZpbGUnLFxuICAgIH0pO1xuICB9XG4gIGNvbnN0IGdpdmVzID0gcGxhbkdpdmVzKGdpdmVuLmdpdmUsIHJvb20sIFsuLi5wYXRoLCAnZ2l2ZSddKTtcbiAgcmV0dXJuIHtcbiAgICByZXF1ZXN0OiBwcmVwYXJlZCxcbiAgICBhc3luYyAqcmVhZCh3YWxrLCB0b2xkKSB7XG4gICAgICBjb25zdCB7IHdvcmtzcGFjZSwgc2NvcGUsIHNpZ25hbCwgcm93IH0gPSB3YWxrO1xuICAgICAgY29uc3Qgc2VuZGluZyA9IHtcbiAgICAgICAgZ2l2ZW46IGdpdmVyKGdpdmVzLCB3b3Jrc3BhY2UsIHNjb3BlLCBsYWJlbCksXG4gICAgICAgIGNhbGxlcjogd2Fsa0V2YWx1YXRpb24od29ya3NwYWNlLCBzY29wZSkubmFtZXMsXG4gICAgICAgIHNpZ25hbCxcbiAgICAgICAgc3RlcDogbGFiZWwsXG4gICAgICAgIHJvdyxcbiAgICAgIH07XG4gICAgICBmb3IgYXdhaXQgKGNvbnN0IHsgc2VudCwgaXRlbXMsIGNvdW50IH0gb2YgcGFnZXNPZih3b3Jrc3BhY2UsIHByZXBhcmVkLCBzZW5kaW5nKSkge1xuICAgICAgICB0b2xkLnNlbnQgPSBzZW50O1xuICAgICAgICB0b2xkLnBhZ2VzID0gY291bnQ7XG4gICAgICAgIGlmIChzZW50LnByb2JsZW1zLmxlbmd0aCA+IDApIHtcbiAgICAgICAgICBjb25zdCB3aHkgPSBzZW50LnByb2JsZW1zLnJlZHVjZShncmF2ZXIpO1xuICAgICAgICAgIHRocm93IG5ldyBQcm9ibGVtKHdoeS5jb2RlLCB7XG4gICAgICAgICAgICB3aGF0OiBgJHt3aHkud2hhdH0gKHBhcnRpYWw6ICR7Y291bnQuaXRlbXN9JHtjb3VudC50b3RhbCA9PT0gdW5kZWZpbmVkID8gJycgOiBgIG9mICR7Y291bnQudG90YWx9YH0gaXRlbXMgY2FtZSBiZWZvcmUpYCxcbiAgICAgICAgICAgIGNhdXNlOiB3aHkucmVhc29uLFxuICAgICAgICAgICAgcmVtZWR5OiB3aHkucmVtZWR5LFxuICAgICAgICAgIH0pO1xuICAgICAgICB9XG4gICAgICAgIGZvciAoY29uc3QgdmFsdWUgb2YgaXRlbXMpIHlpZWxkIHsgdmFsdWUsIHNlY3JldDogZmFsc2UgfTtcbiAgICAgIH1cbiAgICB9LFxuICB9O1xufVxuXG4vKiogQSBtYXAgaXMgZ29uZSB0aHJvdWdoIGJ5IGl0cyBtZW1iZXJzLiBAdGhyb3dzIFByb2JsZW0gZGF0YS1zaGFwZSAqL1xuZnVuY3Rpb24gbGlzdE9mKHZhbHVlOiBWYWx1ZSB8IHVuZGVmaW5lZCwgbGFiZWw6IHN0cmluZyk6IHJlYWRvbmx5IFZhbHVlW10ge1xuICBpZiAoQXJyYXkuaXNBcnJheSh2YWx1ZSkpIHJldHVybiB2YWx1ZSBhcyByZWFkb25seSBWYWx1ZVtdO1xuICBpZiAoaXNWYWx1ZU1hcCh2YWx1ZSkpIHJldHVybiBPYmplY3QuZW50cmllcyh2YWx1ZSkubWFwKChba2V5LCBpbm5lcl0pID0+ICh7IGtleSwgdmFsdWU6IGlubmVyIGFzIFZhbHVlIH0pKTtcbiAgdGhyb3cgbmV3IFByb2JsZW0oJ2RhdGEtc2hhcGUnLCB7XG4gICAgd2hhdDogYCR7bGFiZWx9OiBmb3ItZWFjaCBnb2VzIHRocm91Z2ggYSBsaXN0IG9yIGEgbWFwLCBhbmQgd2FzIGdpdmVuIG5laXRoZXJgLFxuICAgIGNhdXNlOiB2YWx1ZSA9PT0gdW5kZWZpbmVkID8gJ3RoZSB2YWx1ZSBpcyBvbWl0dGVkJyA6IHVuZGVmaW5lZCxcbiAgICByZW1lZHk6ICdhIHBsYWNlIHN1Y2ggYXMgJC5pdGVtc1sqXSBrZWVwcyBhIGxpc3QsIGV2ZW4gb2Ygb25lJyxcbiAgfSk7XG59XG4iLCAiLyoqIGBmb3ItZWFjaGA6IHN0ZXBzIGZvciBlYWNoIG9mIG1hbnksIGVhY2ggaW4gYSBzY29wZSBvZiBpdHMgb3duLCBzbyBtYW55IGF0IG9uY2UuICovXG5pbXBvcnQgdHlwZSB7IEZvckVhY2hTdGVwRmlsZSB9IGZyb20gJy4uLy4uL2NvbGxlY3Rpb24vZmlsZXMvdHJhaWwtZmlsZS5qcyc7XG5pbXBvcnQgeyBhc0Fuc3dlciB9IGZyb20gJy4uLy4uL3BsYWNlL29ic2VydmVkLmpzJztcbmltcG9ydCB7IHJlYWRQbGFjZSB9IGZyb20gJy4uLy4uL3BsYWNlL3JlZ2lzdHJ5LmpzJztcbmltcG9ydCB7IGFzUHJvYmxlbSwgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyB0ZXh0T2YgfSBmcm9tICcuLi8uLi92YWx1ZS90ZXh0LmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUsIFZhbHVlTWFwIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgdHlwZSB7IFRhYmxlRXZlbnQgfSBmcm9tICcuLi9ldmVudHMuanMnO1xuaW1wb3J0IHsgZ3JhdmVyIH0gZnJvbSAnLi4vZ3Jhdml0eS5qcyc7XG5pbXBvcnQgeyBtYW55QXRPbmNlIH0gZnJvbSAnLi4vbWFueS5qcyc7XG5pbXBvcnQgeyBTY29wZSB9IGZyb20gJy4uL3Njb3BlLmpzJztcbmltcG9ydCB7IHNlY3JldHNJbiB9IGZyb20gJy4uL3NlY3JldHMtYWhlYWQuanMnO1xuaW1wb3J0IHR5cGUgeyBQbGFubmVkU3RlcCwgU3RlcEtpbmQsIFN0ZXBSZXN1bHQsIFdhbGsgfSBmcm9tICcuLi9zdGVwLWtpbmQuanMnO1xuaW1wb3J0IHsgbGluZU9mLCBvcGVuVGFibGUsIHBsYW5UYWJsZSwgc2V0dGxlVGFibGUsIHR5cGUgVGFibGUsIHR5cGUgVGFibGVQbGFuIH0gZnJvbSAnLi4vdGFibGUuanMnO1xuaW1wb3J0IHsgdHlwZSBNZW1iZXIsIHR5cGUgUGFnZXNUb2xkLCBwbGFuTWVtYmVycyB9IGZyb20gJy4vbWVtYmVycy5qcyc7XG5cbmludGVyZmFjZSBDb3VudHMge1xuICBvazogbnVtYmVyO1xuICBmYWlsZWQ6IG51bWJlcjtcbiAgcGFzc2VkOiBudW1iZXI7XG4gIHByb2JsZW06IFByb2JsZW0gfCB1bmRlZmluZWQ7XG59XG5cbmV4cG9ydCBjb25zdCBmb3JFYWNoOiBTdGVwS2luZDxGb3JFYWNoU3RlcEZpbGU+ID0ge1xuICBuYW1lOiAnZm9yLWVhY2gnLFxuICBmaXRzOiAoZmlsZSk6IGZpbGUgaXMgRm9yRWFjaFN0ZXBGaWxlID0+ICdmb3ItZWFjaCcgaW4gZmlsZSxcbiAgYXN5bmMgcGxhbihmaWxlLCByb29tKSB7XG4gICAgY29uc3QgeyB5YW1sLCBwYXRoLCBsb2FkcyB9ID0gcm9vbTtcbiAgICBjb25zdCBuYW1lID0gZmlsZS5hcyA/PyAnaXRlbSc7XG4gICAgY29uc3QgbGFiZWwgPSBmaWxlLm5hbWUgPz8gYGZvciBlYWNoICR7bmFtZX1gO1xuICAgIGNvbnN0IG1lbWJlcnMgPSBhd2FpdCBwbGFuTWVtYmVycyhmaWxlWydmb3ItZWFjaCddLCBsYWJlbCwgcm9vbSk7XG4gICAgY29uc3Qgc3RlcHMgPSBhd2FpdCByb29tLnN0ZXBzKGZpbGUuc3RlcHMsIFsuLi5wYXRoLCAnc3RlcHMnXSk7XG4gICAgY29uc3QgdGFibGUgPSBmaWxlLnRhYmxlICYmIHBsYW5UYWJsZShmaWxlLnRhYmxlLCB5YW1sLCBbLi4ucGF0aCwgJ3RhYmxlJ10sIGxvYWRzKTtcbiAgICBjb25zdCBrZXlQbGFjZSA9IGZpbGVbJ29uY2UtYnknXSA9PT0gdW5kZWZpbmVkID8gdW5kZWZpbmVkIDogcGxhY2VBdChmaWxlWydvbmNlLWJ5J10pO1xuICAgIGNvbnN0IGF0T25jZSA9IGZpbGVbJ2F0LW9uY2UnXSA/PyAxO1xuXG4gICAgZnVuY3Rpb24gcGxhY2VBdCh0ZXh0OiBzdHJpbmcpOiBSZXR1cm5UeXBlPHR5cGVvZiByZWFkUGxhY2U+IHtcbiAgICAgIHRyeSB7XG4gICAgICAgIHJldHVybiByZWFkUGxhY2UodGV4dCwgbG9hZHMpO1xuICAgICAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICAgICAgdGhyb3cgYXNQcm9ibGVtKGVycm9yKS5hdCh5YW1sLnBvc2l0aW9uKFsuLi5wYXRoLCAnb25jZS1ieSddKSk7XG4gICAgICB9XG4gICAgfVxuXG4gICAgcmV0dXJuIHtcbiAgICAgIGtpbmQ6ICdmb3ItZWFjaCcsXG4gICAgICBsYWJlbCxcbiAgICAgIGNoYW5nZXM6IHN0ZXBzLnJlZHVjZSgoc3VtLCB7IGNoYW5nZXMgfSkgPT4gc3VtICsgY2hhbmdlcywgMCksXG4gICAgICByZXF1ZXN0czogWy4uLihtZW1iZXJzLnJlcXVlc3QgPyBbbWVtYmVycy5yZXF1ZXN0XSA6IFtdKSwgLi4uc3RlcHMuZmxhdE1hcCgoeyByZXF1ZXN0cyB9KSA9PiByZXF1ZXN0cyldLFxuICAgICAgdGFrZXM6IHN0ZXBzLmZsYXRNYXAoKHsgdGFrZXMgfSkgPT4gdGFrZXMgPz8gW10pLFxuICAgICAgc2VjcmV0czogW1xuICAgICAgICAuLi5zZWNyZXRzSW4oZmlsZVsnZm9yLWVhY2gnXSwgeWFtbCwgWy4uLnBhdGgsICdmb3ItZWFjaCddKSxcbiAgICAgICAgLi4uc3RlcHMuZmxhdE1hcCgoeyB3aGVuLCBzZWNyZXRzIH0pID0+ICh3aGVuID8gW10gOiBzZWNyZXRzKSksXG4gICAgICBdLFxuICAgICAgYXN5bmMgd2Fsayh3YWxrLCBhdCk6IFByb21pc2U8U3RlcFJlc3VsdD4ge1xuICAgICAgICBjb25zdCB0b2xkOiBQYWdlc1RvbGQgPSB7fTtcbiAgICAgICAgY29uc3QgY291bnRzOiBDb3VudHMgPSB7IG9rOiAwLCBmYWlsZWQ6IDAsIHBhc3NlZDogMCwgcHJvYmxlbTogdW5kZWZpbmVkIH07XG4gICAgICAgIGNvbnN0IHdoZXJlID0gYCR7d2Fsay5yb3cgPz8gJyd9ICR7bGFiZWx9YDtcbiAgICAgICAgY29uc3QgaGFuZGxlZCA9IGtleVBsYWNlICYmIGhhbmRsZWRBdCh3YWxrLCB3aGVyZSk7XG4gICAgICAgIC8vIFdoZXJlIG5vdGhpbmcgaXMgc2VudCwgdGhlcmUgYXJlIG5vIGFuc3dlcnMgdG8gbWFrZSBsaW5lcyBvZi5cbiAgICAgICAgY29uc3QgbGluZXMgPSB3YWxrLndvcmtzcGFjZS5kcnlSdW4gPyB1bmRlZmluZWQgOiB0YWJsZTtcbiAgICAgICAgY29uc3Qgb3BlbiA9IGxpbmVzICYmIChhd2FpdCBvcGVuVGFibGUobGluZXMsIHdhbGsud29ya3NwYWNlLmNvbGxlY3Rpb24ucm9vdCkpO1xuICAgICAgICBjb25zdCB3b3JrID0gYXN5bmMgKHsgdmFsdWUsIHNlY3JldCB9OiBNZW1iZXIsIG51bWJlcjogbnVtYmVyKTogUHJvbWlzZTx2b2lkPiA9PiB7XG4gICAgICAgICAgY29uc3Qga2V5ID0ga2V5UGxhY2UgJiYga2V5T2Yoa2V5UGxhY2UuZmluZChhc0Fuc3dlcih2YWx1ZSkpLCBrZXlQbGFjZS50ZXh0KTtcbiAgICAgICAgICBpZiAoa2V5ICE9PSB1bmRlZmluZWQgJiYgaGFuZGxlZD8uaGFzKGtleSkpIHtcbiAgICAgICAgICAgIGNvdW50cy5wYXNzZWQgKz0gMTtcbiAgICAgICAgICAgIHJldHVybjtcbiAgICAgICAgICB9XG4gICAgICAgICAgY29uc3Qgc2NvcGUgPSBuZXcgU2NvcGUoXG4gICAgICAgICAgICBuZXcgTWFwKFtbbmFtZSwgeyB2YWx1ZSwgc2VjcmV0LCBvcmlnaW46IGAke2xhYmVsfSAke251bWJlcn1gIH1dXSksXG4gICAgICAgICAgICBsYWJlbCxcbiAgICAgICAgICAgIHdhbGsuc2NvcGUsXG4gICAgICAgICAgKTtcbiAgICAgICAgICBjb25zdCBpbm5lciA9IHtcbiAgICAgICAgICAgIC4uLndhbGssXG4gICAgICAgICAgICBhdDogYCR7YXR9OiR7bnVtYmVyfWAsXG4gICAgICAgICAgICBzY29wZSxcbiAgICAgICAgICAgIGRlcHRoOiB3YWxrLmRlcHRoICsgMSxcbiAgICAgICAgICAgIG1lbWJlcjogYCR7bmFtZX0gJHtudW1iZXJ9YCxcbiAgICAgICAgICAgIHRhYmxlOiBsaW5lcyxcbiAgICAgICAgICAgIGxhc3Q6IHsgY2VsbHM6IHt9IH0sXG4gICAgICAgICAgfTtcbiAgICAgICAgICBjb25zdCB7IHByb2JsZW0sIGNlbGxzIH0gPSBhd2FpdCBtZW1iZXJPZihzdGVwcywgaW5uZXIsIGxpbmVzKTtcbiAgICAgICAgICBpZiAoY2VsbHMgJiYgb3BlbikgYXdhaXQgb3Blbi5hZGQobnVtYmVyLCBjZWxscyk7XG4gICAgICAgICAgY291bnRzW3Byb2JsZW0gPyAnZmFpbGVkJyA6ICdvayddICs9IDE7XG4gICAgICAgICAgaWYgKHByb2JsZW0pIGNvdW50cy5wcm9ibGVtID0gZ3JhdmVyKGNvdW50cy5wcm9ibGVtLCBwcm9ibGVtKTtcbiAgICAgICAgICBlbHNlIGlmIChrZXkgIT09IHVuZGVmaW5lZCAmJiAhd2Fsay5zaWduYWwuYWJvcnRlZCkge1xuICAgICAgICAgICAgaGFuZGxlZD8uYWRkKGtleSk7XG4gICAgICAgICAgICB3YWxrLmpvdXJuYWw/LmhhbmRsZWQod2hlcmUsIGtleSk7XG4gICAgICAgICAgfVxuICAgICAgICB9O1xuICAgICAgICBsZXQgZW5kZWQ6IFByb2JsZW0gfCB1bmRlZmluZWQ7XG4gICAgICAgIHRyeSB7XG4gICAgICAgICAgZW5kZWQgPSBhd2FpdCBtYW55QXRPbmNlKG1lbWJlcnMucmVhZCh3YWxrLCB0b2xkKVtTeW1ib2wuYXN5bmNJdGVyYXRvcl0oKSwgYXRPbmNlLCB3b3JrLCB3YWxrLmVuZGluZyk7XG4gICAgICAgIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgICAgICAgYXdhaXQgb3Blbj8uYWJhbmRvbigpO1xuICAgICAgICAgIHRocm93IGVycm9yO1xuICAgICAgICB9XG4gICAgICAgIGxldCBzZXR0bGVkOiBUYWJsZUV2ZW50IHwgdW5kZWZpbmVkO1xuICAgICAgICBpZiAod2Fsay5lbmRpbmcuYWJvcnRlZCkgYXdhaXQgb3Blbj8uYWJhbmRvbigpO1xuICAgICAgICBlbHNlIGlmIChsaW5lcyAmJiBvcGVuKSBzZXR0bGVkID0gYXdhaXQgc2V0dGxlKGxpbmVzLCBvcGVuLCBsYWJlbCwgd2Fsayk7XG4gICAgICAgIGNvbnN0IGNhbWUgPSByZXN1bHQoY291bnRzLCB0b2xkLCB3YWxrLnNpZ25hbC5hYm9ydGVkID8gdW5kZWZpbmVkIDogZW5kZWQsIGxpbmVzKTtcbiAgICAgICAgcmV0dXJuIHNldHRsZWQgPyB7IC4uLmNhbWUsIHRhYmxlOiBzZXR0bGVkIH0gOiBjYW1lO1xuICAgICAgfSxcbiAgICB9O1xuICB9LFxufTtcblxuLyoqIFdhbGtzIHRoZSBzdGVwcyBmb3Igb25lIG9mIG1hbnksIGFuZCB3b3JrcyBvdXQgaXRzIGxpbmUgb2YgdGhlIHRhYmxlLiAqL1xuYXN5bmMgZnVuY3Rpb24gbWVtYmVyT2YoXG4gIHN0ZXBzOiByZWFkb25seSBQbGFubmVkU3RlcFtdLFxuICB3YWxrOiBXYWxrLFxuICB0YWJsZTogVGFibGVQbGFuIHwgdW5kZWZpbmVkLFxuKTogUHJvbWlzZTx7IHJlYWRvbmx5IHByb2JsZW06IFByb2JsZW0gfCB1bmRlZmluZWQ7IHJlYWRvbmx5IGNlbGxzOiBWYWx1ZU1hcCB8IHVuZGVmaW5lZCB9PiB7XG4gIGNvbnN0IHByb2JsZW0gPSBhd2FpdCB3YWxrLnN0ZXBzKHN0ZXBzLCB3YWxrKTtcbiAgcmV0dXJuIHRhYmxlID8gbGluZU9mKHRhYmxlLCB3YWxrLCBwcm9ibGVtKSA6IHsgcHJvYmxlbSwgY2VsbHM6IHVuZGVmaW5lZCB9O1xufVxuXG4vKiogUHV0cyB0aGUgdGFibGUgd2hlcmUgaXQgaXMgd2FudGVkLiBAcmV0dXJucyB3aGF0IGlzIHRvbGQgb2YgaXQgKi9cbmFzeW5jIGZ1bmN0aW9uIHNldHRsZShwbGFuOiBUYWJsZVBsYW4sIHRhYmxlOiBUYWJsZSwgbGFiZWw6IHN0cmluZywgd2FsazogV2Fsayk6IFByb21pc2U8VGFibGVFdmVudD4ge1xuICBjb25zdCBldmVudCA9IGF3YWl0IHNldHRsZVRhYmxlKHBsYW4sIHRhYmxlLCBsYWJlbCwgd2Fsay5yb3cpO1xuICBpZiAocGxhbi5hcyAhPT0gdW5kZWZpbmVkKSB3YWxrLnNjb3BlLnNldChwbGFuLmFzLCB7IHZhbHVlOiBldmVudC5saW5lcywgb3JpZ2luOiBgdGFibGUgb2Ygc3RlcCAke2xhYmVsfWAgfSk7XG4gIHJldHVybiBldmVudDtcbn1cblxuZnVuY3Rpb24gcmVzdWx0KFxuICB7IG9rLCBmYWlsZWQsIHBhc3NlZCwgcHJvYmxlbSB9OiBDb3VudHMsXG4gIHsgc2VudCwgcGFnZXMgfTogUGFnZXNUb2xkLFxuICBlbmRlZDogUHJvYmxlbSB8IHVuZGVmaW5lZCxcbiAgdGFibGU6IFRhYmxlUGxhbiB8IHVuZGVmaW5lZCxcbik6IFN0ZXBSZXN1bHQge1xuICBjb25zdCBwcm9ibGVtczogUHJvYmxlbVtdID0gW107XG4gIGlmIChlbmRlZCkgcHJvYmxlbXMucHVzaChlbmRlZCk7XG4gIGlmIChmYWlsZWQgPiAwICYmIHByb2JsZW0pIHtcbiAgICBwcm9ibGVtcy5wdXNoKG5ldyBQcm9ibGVtKHByb2JsZW0uY29kZSwgeyB3aGF0OiBgJHtmYWlsZWR9IG9mICR7b2sgKyBmYWlsZWR9IGZhaWxlZGAsIGNhdXNlOiBwcm9ibGVtLndoYXQgfSkpO1xuICB9XG4gIHJldHVybiB7XG4gICAgc2VudCxcbiAgICBrZXB0OiB0YWJsZT8uYXMgPT09IHVuZGVmaW5lZCA/IFtdIDogW3RhYmxlLmFzXSxcbiAgICBwcm9ibGVtcyxcbiAgICB0b2xkOiB7IG1lbWJlcnM6IHsgb2ssIGZhaWxlZCwgcGFzc2VkIH0sIHBhZ2VzIH0sXG4gIH07XG59XG5cbmZ1bmN0aW9uIGhhbmRsZWRBdCh7IGhhbmRsZWQgfTogV2Fsaywgd2hlcmU6IHN0cmluZyk6IFNldDxzdHJpbmc+IHtcbiAgbGV0IGtleXMgPSBoYW5kbGVkLmdldCh3aGVyZSk7XG4gIGlmICgha2V5cykge1xuICAgIGtleXMgPSBuZXcgU2V0KCk7XG4gICAgaGFuZGxlZC5zZXQod2hlcmUsIGtleXMpO1xuICB9XG4gIHJldHVybiBrZXlzO1xufVxuXG5mdW5jdGlvbiBrZXlPZihmb3VuZDogVmFsdWUgfCB1bmRlZmluZWQsIHBsYWNlOiBzdHJpbmcpOiBzdHJpbmcge1xuICBpZiAoZm91bmQgIT09IHVuZGVmaW5lZCkgcmV0dXJuIHRleHRPZihmb3VuZCk7XG4gIHRocm93IG5ldyBQcm9ibGVtKCdwbGFjZS1ub3QtZm91bmQnLCB7XG4gICAgd2hhdDogYGFuIGl0ZW0gaGFzIG5vdGhpbmcgYXQgJHtwbGFjZX0sIHdoaWNoIHRlbGxzIGl0IGFwYXJ0YCxcbiAgICByZW1lZHk6ICdjb3JyZWN0IG9uY2UtYnknLFxuICB9KTtcbn1cbiIsICIvKiogQSBzdGVwIHdpdGggb25seSBga2VlcGA6IG5hbWVzIGZvciB2YWx1ZXMgdGhhdCBhcmUgd29ya2VkIG91dC4gKi9cbmltcG9ydCB0eXBlIHsgS2VlcFN0ZXBGaWxlIH0gZnJvbSAnLi4vLi4vY29sbGVjdGlvbi9maWxlcy90cmFpbC1maWxlLmpzJztcbmltcG9ydCB7IGV2YWx1YXRlZCwgcGxhbkdpdmVzLCB3YWxrRXZhbHVhdGlvbiB9IGZyb20gJy4uL2dpdmluZy5qcyc7XG5pbXBvcnQgeyBzZWNyZXRzSW4gfSBmcm9tICcuLi9zZWNyZXRzLWFoZWFkLmpzJztcbmltcG9ydCB0eXBlIHsgU3RlcEtpbmQgfSBmcm9tICcuLi9zdGVwLWtpbmQuanMnO1xuXG5jb25zdCBvdGhlcnMgPSBbJ3NlbmQnLCAndHJhaWwnLCAnZm9yLWVhY2gnLCAncG9sbCcsICdjaG9vc2UnLCAnY29tcGFyZSddIGFzIGNvbnN0O1xuXG5leHBvcnQgY29uc3Qga2VlcDogU3RlcEtpbmQ8S2VlcFN0ZXBGaWxlPiA9IHtcbiAgbmFtZTogJ2tlZXAnLFxuICBmaXRzOiAoZmlsZSk6IGZpbGUgaXMgS2VlcFN0ZXBGaWxlID0+ICdrZWVwJyBpbiBmaWxlICYmICFvdGhlcnMuc29tZSgoa2V5KSA9PiBrZXkgaW4gZmlsZSksXG4gIGFzeW5jIHBsYW4oZmlsZSwgcm9vbSkge1xuICAgIGNvbnN0IHZhbHVlcyA9IHBsYW5HaXZlcyhmaWxlLmtlZXAsIHJvb20sIFsuLi5yb29tLnBhdGgsICdrZWVwJ10pO1xuICAgIGNvbnN0IGxhYmVsID0gZmlsZS5uYW1lID8/IGBrZWVwICR7Wy4uLnZhbHVlcy5rZXlzKCldLmpvaW4oJywgJyl9YDtcbiAgICByZXR1cm4ge1xuICAgICAga2luZDogJ2tlZXAnLFxuICAgICAgbGFiZWwsXG4gICAgICBjaGFuZ2VzOiAwLFxuICAgICAgcmVxdWVzdHM6IFtdLFxuICAgICAgc2VjcmV0czogc2VjcmV0c0luKGZpbGUua2VlcCwgcm9vbS55YW1sLCBbLi4ucm9vbS5wYXRoLCAna2VlcCddKSxcbiAgICAgIGFzeW5jIHdhbGsoeyB3b3Jrc3BhY2UsIHNjb3BlIH0pIHtcbiAgICAgICAgZm9yIChjb25zdCBbbmFtZSwgdHJlZV0gb2YgdmFsdWVzKSB7XG4gICAgICAgICAgLy8gT25lIGFmdGVyIHRoZSBvdGhlciwgc28gdGhhdCBhIHZhbHVlIG1heSB1c2UgdGhlIG9uZSBiZWZvcmUgaXQuXG4gICAgICAgICAgY29uc3QgbmFtZWQgPSBldmFsdWF0ZWQodHJlZSwgd2Fsa0V2YWx1YXRpb24od29ya3NwYWNlLCBzY29wZSksIGBrZXB0IGJ5IHN0ZXAgJHtsYWJlbH1gKTtcbiAgICAgICAgICBpZiAobmFtZWQpIHNjb3BlLnNldChuYW1lLCBuYW1lZCk7XG4gICAgICAgIH1cbiAgICAgICAgcmV0dXJuIHsgc2VudDogdW5kZWZpbmVkLCBrZXB0OiBbLi4udmFsdWVzLmtleXMoKV0sIHByb2JsZW1zOiBbXSB9O1xuICAgICAgfSxcbiAgICAgIC8vIEEgbW9tZW50IG9yIGEgcmFuZG9tIG51bWJlciBpcyB0aGUgc2FtZSB3aGVuIHRoZSBydW4gaXMgZ29uZSBvbiB3aXRoLlxuICAgICAgcmVzdG9yZTogKCkgPT4gdW5kZWZpbmVkLFxuICAgIH07XG4gIH0sXG59O1xuIiwgIi8qKiBXaGF0IHN0ZXBzIHRoYXQgc2VuZCBvbmUgcmVxdWVzdCBoYXZlIGluIGNvbW1vbjogaXRzIGlucHV0cywgaXRzIHNlc3Npb25zLCB3aGF0IGlzIGtlcHQgb2YgaXRzIGFuc3dlci4gKi9cbmltcG9ydCB0eXBlIHsgUG9sbFN0ZXBGaWxlLCBTZW5kU3RlcEZpbGUgfSBmcm9tICcuLi8uLi9jb2xsZWN0aW9uL2ZpbGVzL3RyYWlsLWZpbGUuanMnO1xuaW1wb3J0IHsgY29tcGlsZUtlZXBzLCB0eXBlIEtlZXAsIHR5cGUgS2VwdCB9IGZyb20gJy4uLy4uL2V4cGVjdGF0aW9uL2tlZXBzLmpzJztcbmltcG9ydCB7IGxhemlseSB9IGZyb20gJy4uLy4uL2V4cHJlc3Npb24vbmFtZXMuanMnO1xuaW1wb3J0IHsgdHlwZSBHaXZlcywgZ2l2ZXIsIHBsYW5HaXZlcywgd2Fsa0V2YWx1YXRpb24gfSBmcm9tICcuLi9naXZpbmcuanMnO1xuaW1wb3J0IHR5cGUgeyBQcmVwYXJlZFJlcXVlc3QgfSBmcm9tICcuLi9wcmVwYXJlLmpzJztcbmltcG9ydCB7IHR5cGUgU2VjcmV0VXNlLCBzZWNyZXRzSW4sIHNlY3JldHNPZiB9IGZyb20gJy4uL3NlY3JldHMtYWhlYWQuanMnO1xuaW1wb3J0IHR5cGUgeyBTZW5kaW5nIH0gZnJvbSAnLi4vc2VuZGluZy5qcyc7XG5pbXBvcnQgdHlwZSB7IFBsYW5Sb29tLCBXYWxrIH0gZnJvbSAnLi4vc3RlcC1raW5kLmpzJztcblxuZXhwb3J0IGludGVyZmFjZSBTZW50U3RlcCB7XG4gIHJlYWRvbmx5IHByZXBhcmVkOiBQcmVwYXJlZFJlcXVlc3Q7XG4gIHJlYWRvbmx5IGxhYmVsOiBzdHJpbmc7XG4gIHJlYWRvbmx5IHNlY3JldHM6IHJlYWRvbmx5IFNlY3JldFVzZVtdO1xuICAvKiogV2hhdCBldmVyeSBzZW5kaW5nIG9mIGl0IGJyaW5ncyBhbG9uZy4gQHBhcmFtIG93biB3aGF0IGl0cyBraW5kIG9mIHN0ZXAgYWRkcyAqL1xuICBzZW5kaW5nKHdhbGs6IFdhbGssIG93bj86IFBpY2s8U2VuZGluZywgJ2V4cGVjdGF0aW9ucycgfCAnaWRlbXBvdGVuY3lLZXknIHwgJ29uTGVhdmluZyc+KTogU2VuZGluZztcbiAgLyoqIFB1dHMgd2hhdCB3YXMga2VwdCB3aGVyZSB0aGUgc3RlcHMgYmVoaW5kIGl0IGZpbmQgaXQuIEByZXR1cm5zIHRoZSBuYW1lcyAqL1xuICBrZWVwKHdhbGs6IFdhbGssIGtlcHQ6IHJlYWRvbmx5IEtlcHRbXSk6IHN0cmluZ1tdO1xufVxuXG4vKiogQHBhcmFtIGtleSB0aGUga2V5IG9mIHRoZSBzdGVwIHVuZGVyIHdoaWNoIHRoZSByZXF1ZXN0IHN0YW5kcyAqL1xuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIHBsYW5TZW50KFxuICBmaWxlOiBQaWNrPFNlbmRTdGVwRmlsZSAmIFBvbGxTdGVwRmlsZSwgJ25hbWUnIHwgJ2dpdmUnIHwgJ3Nlc3Npb24nIHwgJ2tlZXAnPixcbiAgcmVxdWVzdDogc3RyaW5nLFxuICBrZXk6ICdzZW5kJyB8ICdwb2xsJyxcbiAgcm9vbTogUGxhblJvb20sXG4pOiBQcm9taXNlPFNlbnRTdGVwPiB7XG4gIGNvbnN0IHsgeWFtbCwgcGF0aCwgbG9hZHMsIHdvcmtzcGFjZSB9ID0gcm9vbTtcbiAgY29uc3QgcHJlcGFyZWQgPSBhd2FpdCByb29tLnJlcXVlc3QocmVxdWVzdCwga2V5KTtcbiAgY29uc3QgeyBuYW1lLCBjb250ZW50LCBzZXNzaW9uczogdXN1YWwgfSA9IHByZXBhcmVkLnBsYW47XG4gIGNvbnN0IGxhYmVsID0gZmlsZS5uYW1lID8/IG5hbWU7XG4gIGNvbnN0IGdpdmVzOiBHaXZlcyA9IHBsYW5HaXZlcyhmaWxlLmdpdmUsIHJvb20sIFsuLi5wYXRoLCAnZ2l2ZSddKTtcbiAgY29uc3Qga2VlcHM6IHJlYWRvbmx5IEtlZXBbXSA9IGNvbXBpbGVLZWVwcyhmaWxlLmtlZXAsIHlhbWwsIFsuLi5wYXRoLCAna2VlcCddLCBsb2FkcywgY29udGVudC5uYW1lc3BhY2VzKTtcbiAgY29uc3Qgc2Vzc2lvbnMgPSBmaWxlLnNlc3Npb24gPT09IHVuZGVmaW5lZCA/IHVuZGVmaW5lZCA6IGZpbGUuc2Vzc2lvbiA9PT0gJ25vbmUnID8gW10gOiBbZmlsZS5zZXNzaW9uXS5mbGF0KCk7XG4gIGNvbnN0IG93biA9IHdvcmtzcGFjZS5jb2xsZWN0aW9uLnJlYWQoJ3JlcXVlc3QnLCBuYW1lKTtcbiAgcmV0dXJuIHtcbiAgICBwcmVwYXJlZCxcbiAgICBsYWJlbCxcbiAgICBzZWNyZXRzOiBbXG4gICAgICAuLi5zZWNyZXRzSW4oZmlsZS5naXZlLCB5YW1sLCBbLi4ucGF0aCwgJ2dpdmUnXSksXG4gICAgICAuLi5zZWNyZXRzT2Yod29ya3NwYWNlLCBvd24sIHNlc3Npb25zID8/IHVzdWFsLCBwcmVwYXJlZC5zaWduZXI/Lm5hbWUpLFxuICAgIF0sXG4gICAgLy8gT25lIGxpdGVyYWwsIG5vdGhpbmcgc3ByZWFkOiBhIHJ1biBtYWtlcyB0aG91c2FuZHMgb2YgdGhlbS5cbiAgICBzZW5kaW5nOiAoeyB3b3Jrc3BhY2U6IGF0LCBzY29wZSwgc2lnbmFsLCByb3csIGZvclNlc3Npb24gfSwgb3duKSA9PiAoe1xuICAgICAgZ2l2ZW46IGdpdmVyKGdpdmVzLCBhdCwgc2NvcGUsIGxhYmVsKSxcbiAgICAgIC8vIE1vc3Qgc2VuZGluZ3MgbmV2ZXIgbG9vayBhdCB0aGUgbmFtZXMgb2YgdGhlIHdhbGsuXG4gICAgICBjYWxsZXI6IGxhemlseSgoKSA9PiB3YWxrRXZhbHVhdGlvbihhdCwgc2NvcGUpLm5hbWVzKSxcbiAgICAgIHNlc3Npb25zOiBmb3JTZXNzaW9uID09PSB1bmRlZmluZWQgPyBzZXNzaW9ucyA6IFtdLFxuICAgICAgY29va2llc09mOiBmb3JTZXNzaW9uID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiBbZm9yU2Vzc2lvbl0sXG4gICAgICBrZWVwcyxcbiAgICAgIHNpZ25hbCxcbiAgICAgIHN0ZXA6IGxhYmVsLFxuICAgICAgcm93LFxuICAgICAgZXhwZWN0YXRpb25zOiBvd24/LmV4cGVjdGF0aW9ucyA/PyBbXSxcbiAgICAgIGlkZW1wb3RlbmN5S2V5OiBvd24/LmlkZW1wb3RlbmN5S2V5LFxuICAgICAgb25MZWF2aW5nOiBvd24/Lm9uTGVhdmluZyxcbiAgICB9KSxcbiAgICBrZWVwKHsgc2NvcGUgfSwga2VwdCkge1xuICAgICAgZm9yIChjb25zdCB7IG5hbWU6IGFzLCB2YWx1ZSwgc2VjcmV0LCBwbGFjZSB9IG9mIGtlcHQpXG4gICAgICAgIHNjb3BlLnNldChhcywgeyB2YWx1ZSwgc2VjcmV0LCBvcmlnaW46IGBrZXB0IGJ5IHN0ZXAgJHtsYWJlbH0gZnJvbSAke3BsYWNlfWAgfSk7XG4gICAgICByZXR1cm4ga2VwdC5tYXAoKG9uZSkgPT4gb25lLm5hbWUpO1xuICAgIH0sXG4gIH07XG59XG4iLCAiLyoqIGBwb2xsYDogYSByZXF1ZXN0IGlzIHNlbnQgdW50aWwgaXRzIGFuc3dlciBpcyBhcyBhd2FpdGVkLiAqL1xuaW1wb3J0IHR5cGUgeyBQb2xsU3RlcEZpbGUgfSBmcm9tICcuLi8uLi9jb2xsZWN0aW9uL2ZpbGVzL3RyYWlsLWZpbGUuanMnO1xuaW1wb3J0IHR5cGUgeyBSZWNlaXZlZCB9IGZyb20gJy4uLy4uL2V4Y2hhbmdlL3JlY2VpdmVkLmpzJztcbmltcG9ydCB7IGNvbXBpbGVFeHBlY3RhdGlvbnMsIHR5cGUgRXhwZWN0YXRpb24sIGp1ZGdlIH0gZnJvbSAnLi4vLi4vZXhwZWN0YXRpb24vZXhwZWN0YXRpb25zLmpzJztcbmltcG9ydCB7IEV2YWx1YXRpb24gfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL2V2YWx1YXRpb24uanMnO1xuaW1wb3J0IHsgc2hvcnRUZXh0IH0gZnJvbSAnLi4vLi4vbWF0Y2hlci9yZWFkaW5nLmpzJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgZHVyYXRpb25UZXh0LCBwYXJzZUR1cmF0aW9uIH0gZnJvbSAnLi4vLi4vdmFsdWUvbWVhc3VyZXMuanMnO1xuaW1wb3J0IHsgcGF1c2UgfSBmcm9tICcuLi9wYWNpbmcvdHJpZXMuanMnO1xuaW1wb3J0IHsgc2VuZFJlcXVlc3QgfSBmcm9tICcuLi9zZW5kLmpzJztcbmltcG9ydCB0eXBlIHsgU2VudCB9IGZyb20gJy4uL3NlbmRpbmcuanMnO1xuaW1wb3J0IHR5cGUgeyBTdGVwS2luZCwgV2FsayB9IGZyb20gJy4uL3N0ZXAta2luZC5qcyc7XG5pbXBvcnQgeyBwbGFuU2VudCB9IGZyb20gJy4vc2VudC1zdGVwLmpzJztcbmltcG9ydCB7IGRlbWFuZFVuY2hhbmdpbmcgfSBmcm9tICcuL3VuY2hhbmdpbmcuanMnO1xuXG4vKiogQSBncm93aW5nIHBhdXNlIGdyb3dzIG5vIGZ1cnRoZXIsIGluIG1pbGxpc2Vjb25kcy4gKi9cbmNvbnN0IGxvbmdlc3RQYXVzZSA9IDMwXzAwMDtcblxuZXhwb3J0IGNvbnN0IHBvbGw6IFN0ZXBLaW5kPFBvbGxTdGVwRmlsZT4gPSB7XG4gIG5hbWU6ICdwb2xsJyxcbiAgZml0czogKGZpbGUpOiBmaWxlIGlzIFBvbGxTdGVwRmlsZSA9PiAncG9sbCcgaW4gZmlsZSxcbiAgYXN5bmMgcGxhbihmaWxlLCByb29tKSB7XG4gICAgY29uc3QgeyB5YW1sLCBwYXRoLCBsb2Fkcywgd29ya3NwYWNlIH0gPSByb29tO1xuICAgIGNvbnN0IHN0ZXAgPSBhd2FpdCBwbGFuU2VudChmaWxlLCBmaWxlLnBvbGwsICdwb2xsJywgcm9vbSk7XG4gICAgY29uc3QgeyBwcmVwYXJlZCwgbGFiZWwgfSA9IHN0ZXA7XG4gICAgZGVtYW5kVW5jaGFuZ2luZyhwcmVwYXJlZCwgJ3BvbGwnLCByb29tKTtcbiAgICBjb25zdCB7IG5hbWVzcGFjZXMgfSA9IHByZXBhcmVkLnBsYW4uY29udGVudDtcbiAgICBjb25zdCBjb21waWxlZCA9IChrZXk6ICd1bnRpbCcgfCAndW5sZXNzJyk6IHJlYWRvbmx5IEV4cGVjdGF0aW9uW10gPT5cbiAgICAgIGNvbXBpbGVFeHBlY3RhdGlvbnMoZmlsZVtrZXldLCB5YW1sLCBbLi4ucGF0aCwga2V5XSwgd29ya3NwYWNlLnJlYWRUZXh0LCBsb2FkcywgbmFtZXNwYWNlcyk7XG4gICAgY29uc3QgW3VudGlsLCB1bmxlc3NdID0gW2NvbXBpbGVkKCd1bnRpbCcpLCBjb21waWxlZCgndW5sZXNzJyldO1xuICAgIGNvbnN0IGZpcnN0ID0gcGFyc2VEdXJhdGlvbihmaWxlLnBhdXNlID8/ICcxcycpIGFzIG51bWJlcjtcbiAgICBjb25zdCB3aXRoaW4gPSBwYXJzZUR1cmF0aW9uKGZpbGUud2l0aGluID8/ICc2MHMnKSBhcyBudW1iZXI7XG4gICAgY29uc3QgZ3Jvd3RoID0gZmlsZS5ncm93dGggPz8gMTtcblxuICAgIHJldHVybiB7XG4gICAgICBraW5kOiAncG9sbCcsXG4gICAgICBsYWJlbCxcbiAgICAgIGNoYW5nZXM6IDAsXG4gICAgICByZXF1ZXN0czogW3ByZXBhcmVkXSxcbiAgICAgIHNlY3JldHM6IHN0ZXAuc2VjcmV0cyxcbiAgICAgIGFzeW5jIHdhbGsod2Fsaykge1xuICAgICAgICBjb25zdCBzdGFydGVkID0gcGVyZm9ybWFuY2Uubm93KCk7XG4gICAgICAgIGNvbnN0IHNlZW46IHN0cmluZ1tdID0gW107XG4gICAgICAgIGxldCB3YWl0ID0gZmlyc3Q7XG4gICAgICAgIGZvciAobGV0IGFza2VkID0gMTsgOyBhc2tlZCArPSAxKSB7XG4gICAgICAgICAgY29uc3Qgc2VuZGluZyA9IHN0ZXAuc2VuZGluZyh3YWxrKTtcbiAgICAgICAgICBjb25zdCBzZW50ID0gYXdhaXQgc2VuZFJlcXVlc3Qod2Fsay53b3Jrc3BhY2UsIHByZXBhcmVkLCB7IC4uLnNlbmRpbmcsIGV4cGVjdGF0aW9uczogdW50aWwgfSk7XG4gICAgICAgICAgY29uc3QgeyByZWNlaXZlZCB9ID0gc2VudC5vdXRjb21lO1xuICAgICAgICAgIGlmIChyZWNlaXZlZCkgbm90ZShzZWVuLCB1bnRpbCwgcmVjZWl2ZWQpO1xuICAgICAgICAgIGNvbnN0IHRvbGQgPSB7IHNlZW46IHsgYXNrZWQsIHZhbHVlczogc2VlbiB9IH07XG4gICAgICAgICAgaWYgKHNlbnQucHJvYmxlbXMubGVuZ3RoID09PSAwKSByZXR1cm4geyBzZW50LCBrZXB0OiBzdGVwLmtlZXAod2Fsaywgc2VudC5rZXB0KSwgcHJvYmxlbXM6IFtdLCB0b2xkIH07XG4gICAgICAgICAgaWYgKHdhbGsuc2lnbmFsLmFib3J0ZWQpIHJldHVybiB7IHNlbnQsIGtlcHQ6IFtdLCBwcm9ibGVtczogc2VudC5wcm9ibGVtcywgdG9sZCB9O1xuICAgICAgICAgIGNvbnN0IG5ldmVyID0gcmVjZWl2ZWQgJiYgKGF3YWl0IGFsbEhvbGQodW5sZXNzLCByZWNlaXZlZCwgd2Fsaywgc2VuZGluZy5jYWxsZXIpKTtcbiAgICAgICAgICBpZiAobmV2ZXIpIHJldHVybiB7IHNlbnQsIGtlcHQ6IFtdLCBwcm9ibGVtczogW2hvcGVsZXNzKHVubGVzcywgcmVjZWl2ZWQpXSwgdG9sZCB9O1xuICAgICAgICAgIGNvbnN0IGVsYXBzZWQgPSBwZXJmb3JtYW5jZS5ub3coKSAtIHN0YXJ0ZWQ7XG4gICAgICAgICAgaWYgKGVsYXBzZWQgKyB3YWl0ID4gd2l0aGluKVxuICAgICAgICAgICAgcmV0dXJuIHsgc2VudCwga2VwdDogW10sIHByb2JsZW1zOiBbbGF0ZShzZW50LCBhc2tlZCwgZWxhcHNlZCksIC4uLnNlbnQucHJvYmxlbXNdLCB0b2xkIH07XG4gICAgICAgICAgYXdhaXQgcGF1c2Uod2FpdCwgd2Fsay5zaWduYWwpO1xuICAgICAgICAgIHdhaXQgPSBNYXRoLm1pbihNYXRoLm1heChsb25nZXN0UGF1c2UsIGZpcnN0KSwgd2FpdCAqIGdyb3d0aCk7XG4gICAgICAgIH1cbiAgICAgIH0sXG4gICAgICByZXN0b3JlOiAoKSA9PiB1bmRlZmluZWQsXG4gICAgfTtcbiAgfSxcbn07XG5cbi8qKiBXaGF0IHN0YW5kcyBhdCB0aGUgYXdhaXRlZCBwbGFjZXMsIGFzIGxvbmcgYXMgaXQgY2hhbmdlcy4gKi9cbmZ1bmN0aW9uIG5vdGUoc2Vlbjogc3RyaW5nW10sIHVudGlsOiByZWFkb25seSBFeHBlY3RhdGlvbltdLCByZWNlaXZlZDogUmVjZWl2ZWQpOiB2b2lkIHtcbiAgY29uc3QgdmFsdWVzID0gdW50aWwubWFwKCh7IHBsYWNlIH0pID0+IHtcbiAgICB0cnkge1xuICAgICAgcmV0dXJuIHNob3J0VGV4dChwbGFjZS5maW5kKHJlY2VpdmVkKSk7XG4gICAgfSBjYXRjaCB7XG4gICAgICByZXR1cm4gJ25vdGhpbmcnO1xuICAgIH1cbiAgfSk7XG4gIGNvbnN0IHRleHQgPSB2YWx1ZXMuam9pbignLCAnKTtcbiAgaWYgKHNlZW4uYXQoLTEpICE9PSB0ZXh0KSBzZWVuLnB1c2godGV4dCk7XG59XG5cbmFzeW5jIGZ1bmN0aW9uIGFsbEhvbGQoXG4gIHdhbnRlZDogcmVhZG9ubHkgRXhwZWN0YXRpb25bXSxcbiAgcmVjZWl2ZWQ6IFJlY2VpdmVkLFxuICB7IHdvcmtzcGFjZSB9OiBXYWxrLFxuICBuYW1lczogRXZhbHVhdGlvblsnbmFtZXMnXSxcbik6IFByb21pc2U8Ym9vbGVhbj4ge1xuICBpZiAod2FudGVkLmxlbmd0aCA9PT0gMCkgcmV0dXJuIGZhbHNlO1xuICBjb25zdCBzdXJyb3VuZGluZ3MgPSB7IHdvcmxkOiB3b3Jrc3BhY2Uud29ybGQoKSwgb25TZWNyZXQ6IHdvcmtzcGFjZS5yZWRhY3Rvci5hZGQgfTtcbiAgY29uc3QgdmVyZGljdHMgPSBhd2FpdCBqdWRnZSh3YW50ZWQsIHJlY2VpdmVkLCBuZXcgRXZhbHVhdGlvbihuYW1lcywgc3Vycm91bmRpbmdzKSwgeyBkb2N1bWVudGVkOiAoKSA9PiB1bmRlZmluZWQgfSk7XG4gIHJldHVybiB2ZXJkaWN0cy5ldmVyeSgoeyBvayB9KSA9PiBvayk7XG59XG5cbmZ1bmN0aW9uIGhvcGVsZXNzKHVubGVzczogcmVhZG9ubHkgRXhwZWN0YXRpb25bXSwgcmVjZWl2ZWQ6IFJlY2VpdmVkKTogUHJvYmxlbSB7XG4gIGNvbnN0IGZvdW5kID0gdW5sZXNzLm1hcCgoeyBwbGFjZSB9KSA9PiBgJHtwbGFjZS50ZXh0fSBpcyAke3Nob3J0VGV4dChwbGFjZS5maW5kKHJlY2VpdmVkKSl9YCk7XG4gIHJldHVybiBuZXcgUHJvYmxlbSgnc3RlcC1mYWlsZWQnLCB7IHdoYXQ6IGBpdCB3aWxsIG5vdCBjb21lOiAke2ZvdW5kLmpvaW4oJywgJyl9YCB9KTtcbn1cblxuY29uc3QgbGF0ZSA9ICh7IG91dGNvbWU6IHsgcmVjZWl2ZWQgfSB9OiBTZW50LCBhc2tlZDogbnVtYmVyLCBlbGFwc2VkOiBudW1iZXIpOiBQcm9ibGVtID0+XG4gIG5ldyBQcm9ibGVtKCdzdGVwLWZhaWxlZCcsIHtcbiAgICB3aGF0OiBgbm90IGFzIGF3YWl0ZWQgYWZ0ZXIgJHtkdXJhdGlvblRleHQoZWxhcHNlZCl9LCBhc2tlZCAke2Fza2VkfSAke2Fza2VkID09PSAxID8gJ3RpbWUnIDogJ3RpbWVzJ31gLFxuICAgIHJlbWVkeTogcmVjZWl2ZWQgPyAnd2l0aGluOiBzYXlzIGhvdyBsb25nIHRvIHdhaXQnIDogdW5kZWZpbmVkLFxuICB9KTtcbiIsICIvKiogYHVuZG86YCBvZiBhIHN0ZXA6IHRoZSByZXF1ZXN0IHRoYXQgdGFrZXMgaXQgYmFjaywgYXJtZWQgd2l0aCB0aGUgdmFsdWVzIGFzIHRoZXkgYXJlIHdoZW4gdGhlIHN0ZXAgZW5kcy4gKi9cbmltcG9ydCB0eXBlIHsgVW5kb0ZpbGUgfSBmcm9tICcuLi8uLi9jb2xsZWN0aW9uL2ZpbGVzL3RyYWlsLWZpbGUuanMnO1xuaW1wb3J0IHsgZ2l2ZXIsIHBsYW5HaXZlcywgd2Fsa0V2YWx1YXRpb24gfSBmcm9tICcuLi9naXZpbmcuanMnO1xuaW1wb3J0IHsgbmFtZXNPZiB9IGZyb20gJy4uL2pvdXJuYWwvcmVjb3JkZWQuanMnO1xuaW1wb3J0IHsgc2VuZFJlcXVlc3QgfSBmcm9tICcuLi9zZW5kLmpzJztcbmltcG9ydCB0eXBlIHsgUGxhblJvb20sIFdhbGsgfSBmcm9tICcuLi9zdGVwLWtpbmQuanMnO1xuXG4vKiogQHJldHVybnMgd2hhdCBhcm1zIGl0LCBmb3IgdGhlIHN0ZXAgdGhhdCBzdGFuZHMgdGhlcmUgaW4gdGhlIHJ1biAqL1xuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIHBsYW5VbmRvKFxuICBmaWxlOiBVbmRvRmlsZSxcbiAgc3RlcDogc3RyaW5nLFxuICByb29tOiBQbGFuUm9vbSxcbik6IFByb21pc2U8KHdhbGs6IFdhbGssIGF0OiBzdHJpbmcpID0+IHZvaWQ+IHtcbiAgY29uc3QgcHJlcGFyZWQgPSBhd2FpdCByb29tLnJlcXVlc3QoZmlsZS5zZW5kLCAndW5kbycpO1xuICBjb25zdCB7IG5hbWU6IHJlcXVlc3QgfSA9IHByZXBhcmVkLnBsYW47XG4gIGNvbnN0IGdpdmVzID0gcGxhbkdpdmVzKGZpbGUuZ2l2ZSwgcm9vbSwgWy4uLnJvb20ucGF0aCwgJ3VuZG8nLCAnZ2l2ZSddKTtcbiAgY29uc3Qgd2FudGVkID0gcHJlcGFyZWQucGxhbi5pbnB1dHMubWFwKCh7IG5hbWUgfSkgPT4gbmFtZSk7XG4gIHJldHVybiAod2FsaywgYXQpID0+IHtcbiAgICBjb25zdCB7IHdvcmtzcGFjZSwgcm93LCBqb3VybmFsIH0gPSB3YWxrO1xuICAgIGlmIChqb3VybmFsPy51bmRvbmVCZWZvcmUoYXQpKSByZXR1cm47XG4gICAgY29uc3Qgc2NvcGUgPSB3YWxrLnNjb3BlLnNuYXBzaG90KCk7XG4gICAgaWYgKGpvdXJuYWwgJiYgIWpvdXJuYWwuYXJtZWRCZWZvcmUoYXQpKSB7XG4gICAgICBjb25zdCB2YWx1ZSA9IGdpdmVyKGdpdmVzLCB3b3Jrc3BhY2UsIHNjb3BlLCByZXF1ZXN0KTtcbiAgICAgIGNvbnN0IGdpdmVuID0gbmFtZXNPZih3YW50ZWQsIChuYW1lKSA9PiBxdWlldGx5KCgpID0+IHZhbHVlKG5hbWUpKSk7XG4gICAgICBjb25zdCBuYW1lcyA9IG5hbWVzT2Yod29ya3NwYWNlLm91dHNpZGVOYW1lcywgKG5hbWUpID0+IHNjb3BlLmxvb2t1cChuYW1lKSk7XG4gICAgICBqb3VybmFsLmFybWVkKHsgYXQsIHN0ZXAsIHJlcXVlc3QsIHJvdywgZ2l2ZW4sIG5hbWVzIH0pO1xuICAgIH1cbiAgICB3YWxrLnVuZG8ucHVzaCh7XG4gICAgICBhdCxcbiAgICAgIHN0ZXAsXG4gICAgICBsYWJlbDogcmVxdWVzdCxcbiAgICAgIGFzeW5jIHJ1bihzaWduYWwpIHtcbiAgICAgICAgY29uc3Qgc2VudCA9IGF3YWl0IHNlbmRSZXF1ZXN0KHdvcmtzcGFjZSwgcHJlcGFyZWQsIHtcbiAgICAgICAgICBnaXZlbjogZ2l2ZXIoZ2l2ZXMsIHdvcmtzcGFjZSwgc2NvcGUsIHJlcXVlc3QpLFxuICAgICAgICAgIGNhbGxlcjogd2Fsa0V2YWx1YXRpb24od29ya3NwYWNlLCBzY29wZSkubmFtZXMsXG4gICAgICAgICAgc2lnbmFsLFxuICAgICAgICAgIHN0ZXA6IGB1bmRvIG9mICR7c3RlcH1gLFxuICAgICAgICAgIHJvdyxcbiAgICAgICAgfSk7XG4gICAgICAgIHJldHVybiB7IHNlbnQsIGtlcHQ6IFtdLCBwcm9ibGVtczogc2VudC5wcm9ibGVtcyB9O1xuICAgICAgfSxcbiAgICB9KTtcbiAgfTtcbn1cblxuLyoqIFdoYXQgaXMgbWlzc2luZyBpcyB0b2xkIHdoZW4gdGhlIHVuZG8gcGFydCBydW5zLiAqL1xuZnVuY3Rpb24gcXVpZXRseTxUPih3b3JrOiAoKSA9PiBUKTogVCB8IHVuZGVmaW5lZCB7XG4gIHRyeSB7XG4gICAgcmV0dXJuIHdvcmsoKTtcbiAgfSBjYXRjaCB7XG4gICAgcmV0dXJuIHVuZGVmaW5lZDtcbiAgfVxufVxuIiwgIi8qKiBgc2VuZGA6IGEgcmVxdWVzdCBvZiB0aGUgY29sbGVjdGlvbjsgd2hlcmUgaXQgaGFzIHBhZ2VzLCBhbGwgb2YgdGhlbS4gKi9cbmltcG9ydCB0eXBlIHsgU2VuZFN0ZXBGaWxlIH0gZnJvbSAnLi4vLi4vY29sbGVjdGlvbi9maWxlcy90cmFpbC1maWxlLmpzJztcbmltcG9ydCB7IGNvbXBpbGVFeHBlY3RhdGlvbnMgfSBmcm9tICcuLi8uLi9leHBlY3RhdGlvbi9leHBlY3RhdGlvbnMuanMnO1xuaW1wb3J0IHR5cGUgeyBLZXB0IH0gZnJvbSAnLi4vLi4vZXhwZWN0YXRpb24va2VlcHMuanMnO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBnYXRoZXJlZCwgdHlwZSBQYWdlQ291bnQsIHBhZ2VzT2YgfSBmcm9tICcuLi9wYWdpbmcvcGFnZXMuanMnO1xuaW1wb3J0IHR5cGUgeyBQcmVwYXJlZFJlcXVlc3QgfSBmcm9tICcuLi9wcmVwYXJlLmpzJztcbmltcG9ydCB7IGlzUmVwZWF0YWJsZSB9IGZyb20gJy4uL3JlcGVhdGFibGUuanMnO1xuaW1wb3J0IHsgc2VuZFJlcXVlc3QgfSBmcm9tICcuLi9zZW5kLmpzJztcbmltcG9ydCB0eXBlIHsgU2VuZGluZywgU2VudCB9IGZyb20gJy4uL3NlbmRpbmcuanMnO1xuaW1wb3J0IHR5cGUgeyBTdGVwS2luZCwgV2FsayB9IGZyb20gJy4uL3N0ZXAta2luZC5qcyc7XG5pbXBvcnQgeyBwbGFuU2VudCB9IGZyb20gJy4vc2VudC1zdGVwLmpzJztcbmltcG9ydCB7IHBsYW5VbmRvIH0gZnJvbSAnLi91bmRvLXBhcnQuanMnO1xuXG5leHBvcnQgY29uc3Qgc2VuZDogU3RlcEtpbmQ8U2VuZFN0ZXBGaWxlPiA9IHtcbiAgbmFtZTogJ3NlbmQnLFxuICBmaXRzOiAoZmlsZSk6IGZpbGUgaXMgU2VuZFN0ZXBGaWxlID0+ICdzZW5kJyBpbiBmaWxlLFxuICBhc3luYyBwbGFuKGZpbGUsIHJvb20pIHtcbiAgICBjb25zdCB7IHlhbWwsIHBhdGgsIGxvYWRzLCB3b3Jrc3BhY2UgfSA9IHJvb207XG4gICAgY29uc3Qgc3RlcCA9IGF3YWl0IHBsYW5TZW50KGZpbGUsIGZpbGUuc2VuZCwgJ3NlbmQnLCByb29tKTtcbiAgICBjb25zdCB7IHByZXBhcmVkLCBsYWJlbCB9ID0gc3RlcDtcbiAgICBjb25zdCB7IG5hbWVzcGFjZXMgfSA9IHByZXBhcmVkLnBsYW4uY29udGVudDtcbiAgICBjb25zdCBleHBlY3RhdGlvbnMgPSBjb21waWxlRXhwZWN0YXRpb25zKFxuICAgICAgZmlsZS5leHBlY3QsXG4gICAgICB5YW1sLFxuICAgICAgWy4uLnBhdGgsICdleHBlY3QnXSxcbiAgICAgIHdvcmtzcGFjZS5yZWFkVGV4dCxcbiAgICAgIGxvYWRzLFxuICAgICAgbmFtZXNwYWNlcyxcbiAgICApO1xuICAgIGNvbnN0IHVuZG8gPSBmaWxlLnVuZG8gJiYgKGF3YWl0IHBsYW5VbmRvKGZpbGUudW5kbywgbGFiZWwsIHJvb20pKTtcblxuICAgIHJldHVybiB7XG4gICAgICBraW5kOiAnc2VuZCcsXG4gICAgICBsYWJlbCxcbiAgICAgIGNoYW5nZXM6IHByZXBhcmVkLnBsYW4uY2hhbmdlcyA/IDEgOiAwLFxuICAgICAgcmVxdWVzdHM6IFtwcmVwYXJlZF0sXG4gICAgICBzZWNyZXRzOiBzdGVwLnNlY3JldHMsXG4gICAgICBhc3luYyB3YWxrKHdhbGssIGF0KSB7XG4gICAgICAgIGNvbnN0IGJlZm9yZSA9IHdhbGsuam91cm5hbD8ua25vd24oYXQpO1xuICAgICAgICBjb25zdCB7IG1ldGhvZCwgY2hhbmdlcyB9ID0gcHJlcGFyZWQucGxhbjtcbiAgICAgICAgaWYgKGJlZm9yZT8uc3RhdGUgPT09ICd1bmRlciB3YXknICYmICFpc1JlcGVhdGFibGUoeyBtZXRob2QsIGNoYW5nZXMsIGlkZW1wb3RlbmN5S2V5OiBiZWZvcmUua2V5IH0pKSB7XG4gICAgICAgICAgLy8gV2hhdCBpdHMgdW5kbyBwYXJ0IHdvdWxkIHRha2UgYmFjayBtYXkgYmUgdGhlcmUuXG4gICAgICAgICAgd2Fsay5kb3VidChiZWZvcmUuY2FsbCk7XG4gICAgICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ2luLWRvdWJ0Jywge1xuICAgICAgICAgICAgd2hhdDogYCR7YmVmb3JlLmNhbGx9IG1heSBvciBtYXkgbm90IGhhdmUgaGFwcGVuZWQ6IHRoZSBydW4gd2FzIGtpbGxlZCBiZWZvcmUgaXRzIGFuc3dlcmAsXG4gICAgICAgICAgICByZW1lZHk6ICdsb29rIGF0IHRoZSB2ZW5kb3Igd2hldGhlciBpdCBkaWQ7IGl0IGlzIG5vdCBzZW50IGFnYWluIG9uIGl0cyBvd24nLFxuICAgICAgICAgIH0pO1xuICAgICAgICB9XG4gICAgICAgIGxldCBsZWZ0ID0gZmFsc2U7XG4gICAgICAgIHRyeSB7XG4gICAgICAgICAgY29uc3Qgc2VuZGluZyA9IHN0ZXAuc2VuZGluZyh3YWxrLCB7XG4gICAgICAgICAgICBleHBlY3RhdGlvbnMsXG4gICAgICAgICAgICBpZGVtcG90ZW5jeUtleTogYmVmb3JlPy5rZXksXG4gICAgICAgICAgICBvbkxlYXZpbmc6ICh7IGNoYW5nZXMsIGlkZW1wb3RlbmN5S2V5IH0sIGNhbGwpID0+IHtcbiAgICAgICAgICAgICAgLy8gRWFjaCBmdXJ0aGVyIHRyeSBjYXJyaWVzIHRoZSBzYW1lIGtleS5cbiAgICAgICAgICAgICAgY29uc3QgZmlyc3QgPSAhbGVmdDtcbiAgICAgICAgICAgICAgbGVmdCA9IHRydWU7XG4gICAgICAgICAgICAgIHJldHVybiBmaXJzdCAmJiBjaGFuZ2VzID8gd2Fsay5qb3VybmFsPy5sZWF2aW5nKGF0LCB3YWxrLnJvdywgY2FsbCgpLCBpZGVtcG90ZW5jeUtleSkgOiB1bmRlZmluZWQ7XG4gICAgICAgICAgICB9LFxuICAgICAgICAgIH0pO1xuICAgICAgICAgIGNvbnN0IHBhZ2VkID0gcHJlcGFyZWQucGFnZXMgJiYgKGF3YWl0IGFsbFBhZ2VzKHByZXBhcmVkLCBzZW5kaW5nLCB3YWxrKSk7XG4gICAgICAgICAgY29uc3Qgc2VudCA9IHBhZ2VkPy5zZW50ID8/IChhd2FpdCBzZW5kUmVxdWVzdCh3YWxrLndvcmtzcGFjZSwgcHJlcGFyZWQsIHNlbmRpbmcpKTtcbiAgICAgICAgICBjb25zdCBuYW1lcyA9IHN0ZXAua2VlcCh3YWxrLCBwYWdlZD8ua2VwdCA/PyBzZW50LmtlcHQpO1xuICAgICAgICAgIGlmIChsb3N0KHNlbnQpKVxuICAgICAgICAgICAgd2Fsay5kb3VidChgJHtzZW50LndpcmUubWV0aG9kfSAke3dhbGsud29ya3NwYWNlLnJlZGFjdG9yLmhpZGUoc2VudC53aXJlLnNob3duVXJsKX0gKGVjaG8gJHtzZW50LmVjaG99KWApO1xuICAgICAgICAgIGlmICh1bmRvICYmICFyZWZ1c2VkKHNlbnQpKSB1bmRvKHdhbGssIGF0KTtcbiAgICAgICAgICByZXR1cm4geyBzZW50LCBrZXB0OiBuYW1lcywgcHJvYmxlbXM6IHNlbnQucHJvYmxlbXMsIHRvbGQ6IHBhZ2VkICYmIHsgcGFnZXM6IHBhZ2VkLnBhZ2VzIH0gfTtcbiAgICAgICAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICAgICAgICBpZiAodW5kbyAmJiBsZWZ0KSB1bmRvKHdhbGssIGF0KTtcbiAgICAgICAgICB0aHJvdyBlcnJvcjtcbiAgICAgICAgfVxuICAgICAgfSxcbiAgICAgIHJlc3RvcmUod2FsaywgYXQpIHtcbiAgICAgICAgdW5kbz8uKHdhbGssIGF0KTtcbiAgICAgIH0sXG4gICAgfTtcbiAgfSxcbn07XG5cbi8qKiBXaGF0IGlzIGtlcHQgb2YgcGFnZXMgaXMgcHV0IHRvZ2V0aGVyOyB0aGUgbGFzdCBwYWdlIHN0YW5kcyBmb3IgYWxsLiAqL1xuYXN5bmMgZnVuY3Rpb24gYWxsUGFnZXMoXG4gIHByZXBhcmVkOiBQcmVwYXJlZFJlcXVlc3QsXG4gIHNlbmRpbmc6IFNlbmRpbmcsXG4gIHsgd29ya3NwYWNlIH06IFdhbGssXG4pOiBQcm9taXNlPHsgcmVhZG9ubHkgc2VudDogU2VudDsgcmVhZG9ubHkga2VwdDogcmVhZG9ubHkgS2VwdFtdOyByZWFkb25seSBwYWdlczogUGFnZUNvdW50IH0+IHtcbiAgbGV0IGtlcHQgPSBuZXcgTWFwPHN0cmluZywgS2VwdD4oKTtcbiAgZm9yIGF3YWl0IChjb25zdCBwYWdlIG9mIHBhZ2VzT2Yod29ya3NwYWNlLCBwcmVwYXJlZCwgc2VuZGluZykpIHtcbiAgICBrZXB0ID0gZ2F0aGVyZWQoa2VwdCwgcGFnZS5zZW50LmtlcHQpO1xuICAgIGlmIChwYWdlLmxhc3QpIHJldHVybiB7IHNlbnQ6IHBhZ2Uuc2VudCwga2VwdDogWy4uLmtlcHQudmFsdWVzKCldLCBwYWdlczogcGFnZS5jb3VudCB9O1xuICB9XG4gIHRocm93IG5ldyBQcm9ibGVtKCdmYXVsdCcsIHsgd2hhdDogJ3BhZ2VzIGVuZGVkIHdpdGhvdXQgYSBsYXN0IG9uZScgfSk7XG59XG5cbi8qKiBBIDR4eCBzYXlzIHRoYXQgbm90aGluZyB3YXMgZG9uZSwgc28gdGhlcmUgaXMgbm90aGluZyB0byB0YWtlIGJhY2suICovXG5mdW5jdGlvbiByZWZ1c2VkKHsgb3V0Y29tZTogeyByZWNlaXZlZCwgdHJvdWJsZSB9IH06IFNlbnQpOiBib29sZWFuIHtcbiAgcmV0dXJuIHJlY2VpdmVkICE9PSB1bmRlZmluZWQgJiYgdHJvdWJsZSA9PT0gdW5kZWZpbmVkICYmIHJlY2VpdmVkLnN0YXR1cyA+PSA0MDAgJiYgcmVjZWl2ZWQuc3RhdHVzIDwgNTAwO1xufVxuXG4vKiogQSBjaGFuZ2luZyBjYWxsIHRoYXQgbGVmdCwgYW5kIHdob3NlIGFuc3dlciBkaWQgbm90IGNvbWUuICovXG5mdW5jdGlvbiBsb3N0KHsgcmVxdWVzdCwgb3V0Y29tZTogeyByZWNlaXZlZCwgdHJvdWJsZSB9IH06IFNlbnQpOiBib29sZWFuIHtcbiAgcmV0dXJuIHJlcXVlc3QuY2hhbmdlcyAmJiByZWNlaXZlZCA9PT0gdW5kZWZpbmVkICYmIHRyb3VibGUgIT09IHVuZGVmaW5lZCAmJiAhbmV2ZXJMZWZ0Lmhhcyh0cm91YmxlLmNvZGUpO1xufVxuXG5jb25zdCBuZXZlckxlZnQgPSBuZXcgU2V0PFByb2JsZW1bJ2NvZGUnXT4oWyduYW1lLWxvb2t1cCcsICdjb25uZWN0aW9uLXJlZnVzZWQnLCAnY29ubmVjdGlvbi10aW1lb3V0JywgJ3Rscy1mYWlsZWQnXSk7XG4iLCAiLyoqIGB0cmFpbGA6IGFub3RoZXIgdHJhaWwsIHdpdGggaW5wdXRzIGFuZCBhIHNjb3BlIG9mIGl0cyBvd247IHdoYXQgaXQgZ2l2ZXMgYmFjayBpcyBuYW1lZCBieSBga2VlcGAuICovXG5pbXBvcnQgdHlwZSB7IFRyYWlsU3RlcEZpbGUgfSBmcm9tICcuLi8uLi9jb2xsZWN0aW9uL2ZpbGVzL3RyYWlsLWZpbGUuanMnO1xuaW1wb3J0IHsgZXZhbHVhdGVkLCBnaXZlciwgcGxhbkdpdmVzLCB3YWxrRXZhbHVhdGlvbiB9IGZyb20gJy4uL2dpdmluZy5qcyc7XG5pbXBvcnQgeyBzZWNyZXRzSW4gfSBmcm9tICcuLi9zZWNyZXRzLWFoZWFkLmpzJztcbmltcG9ydCB7IHN0YXJ0U2NvcGUgfSBmcm9tICcuLi9zdGFydC1zY29wZS5qcyc7XG5pbXBvcnQgdHlwZSB7IFN0ZXBLaW5kIH0gZnJvbSAnLi4vc3RlcC1raW5kLmpzJztcblxuZXhwb3J0IGNvbnN0IHRyYWlsOiBTdGVwS2luZDxUcmFpbFN0ZXBGaWxlPiA9IHtcbiAgbmFtZTogJ3RyYWlsJyxcbiAgZml0czogKGZpbGUpOiBmaWxlIGlzIFRyYWlsU3RlcEZpbGUgPT4gJ3RyYWlsJyBpbiBmaWxlLFxuICBhc3luYyBwbGFuKGZpbGUsIHJvb20pIHtcbiAgICBjb25zdCBwbGFuID0gYXdhaXQgcm9vbS50cmFpbChmaWxlLnRyYWlsLCAndHJhaWwnKTtcbiAgICBjb25zdCBsYWJlbCA9IGZpbGUubmFtZSA/PyBwbGFuLm5hbWU7XG4gICAgY29uc3QgZ2l2ZXMgPSBwbGFuR2l2ZXMoZmlsZS5naXZlLCByb29tLCBbLi4ucm9vbS5wYXRoLCAnZ2l2ZSddKTtcbiAgICBjb25zdCBrZWVwcyA9IHBsYW5HaXZlcyhmaWxlLmtlZXAsIHJvb20sIFsuLi5yb29tLnBhdGgsICdrZWVwJ10pO1xuICAgIHJldHVybiB7XG4gICAgICBraW5kOiAndHJhaWwnLFxuICAgICAgbGFiZWwsXG4gICAgICBjaGFuZ2VzOiBwbGFuLnN0ZXBzLnJlZHVjZSgoc3VtLCB7IGNoYW5nZXMgfSkgPT4gc3VtICsgY2hhbmdlcywgMCksXG4gICAgICByZXF1ZXN0czogcGxhbi5zdGVwcy5mbGF0TWFwKCh7IHJlcXVlc3RzIH0pID0+IHJlcXVlc3RzKSxcbiAgICAgIHRha2VzOiBwbGFuLnN0ZXBzLmZsYXRNYXAoKHsgdGFrZXMgfSkgPT4gdGFrZXMgPz8gW10pLFxuICAgICAgc2VjcmV0czogW1xuICAgICAgICAuLi5zZWNyZXRzSW4oZmlsZS5naXZlLCByb29tLnlhbWwsIFsuLi5yb29tLnBhdGgsICdnaXZlJ10pLFxuICAgICAgICAuLi5wbGFuLnN0ZXBzLmZsYXRNYXAoKHsgd2hlbiwgc2VjcmV0cyB9KSA9PiAod2hlbiA/IFtdIDogc2VjcmV0cykpLFxuICAgICAgXSxcbiAgICAgIGFzeW5jIHdhbGsod2FsaywgYXQpIHtcbiAgICAgICAgY29uc3QgeyB3b3Jrc3BhY2UgfSA9IHdhbGs7XG4gICAgICAgIGNvbnN0IGlubmVyID0gc3RhcnRTY29wZShwbGFuLCB3b3Jrc3BhY2UsIGdpdmVyKGdpdmVzLCB3b3Jrc3BhY2UsIHdhbGsuc2NvcGUsIGxhYmVsKSk7XG4gICAgICAgIGNvbnN0IHByb2JsZW0gPSBhd2FpdCB3YWxrLnN0ZXBzKHBsYW4uc3RlcHMsIHsgLi4ud2FsaywgYXQsIHNjb3BlOiBpbm5lciwgZGVwdGg6IHdhbGsuZGVwdGggKyAxIH0pO1xuICAgICAgICBpZiAocHJvYmxlbSkgcmV0dXJuIHsgc2VudDogdW5kZWZpbmVkLCBrZXB0OiBbXSwgcHJvYmxlbXM6IFtwcm9ibGVtXSB9O1xuICAgICAgICBmb3IgKGNvbnN0IFtuYW1lLCB0cmVlXSBvZiBrZWVwcykge1xuICAgICAgICAgIGNvbnN0IG5hbWVkID0gZXZhbHVhdGVkKHRyZWUsIHdhbGtFdmFsdWF0aW9uKHdvcmtzcGFjZSwgaW5uZXIpLCBga2VwdCBieSBzdGVwICR7bGFiZWx9YCk7XG4gICAgICAgICAgaWYgKG5hbWVkKSB3YWxrLnNjb3BlLnNldChuYW1lLCBuYW1lZCk7XG4gICAgICAgIH1cbiAgICAgICAgcmV0dXJuIHsgc2VudDogdW5kZWZpbmVkLCBrZXB0OiBbLi4ua2VlcHMua2V5cygpXSwgcHJvYmxlbXM6IFtdIH07XG4gICAgICB9LFxuICAgIH07XG4gIH0sXG59O1xuIiwgIi8qKiBBbGwga2luZHMgb2Ygc3RlcHMuIEEgbmV3IG9uZSBpcyBvbmUgZmlsZSwgb25lIGxpbmUgaGVyZSwgYW5kIGl0cyBzY2hlbWEgaW4gdGhlIHRyYWlsIGZpbGUncyB1bmlvbi4gKi9cbmltcG9ydCB0eXBlIHsgU3RlcEtpbmQgfSBmcm9tICcuLi9zdGVwLWtpbmQuanMnO1xuaW1wb3J0IHsgY2hvb3NlIH0gZnJvbSAnLi9jaG9vc2UuanMnO1xuaW1wb3J0IHsgY29tcGFyZSB9IGZyb20gJy4vY29tcGFyZS5qcyc7XG5pbXBvcnQgeyBmb3JFYWNoIH0gZnJvbSAnLi9mb3ItZWFjaC5qcyc7XG5pbXBvcnQgeyBrZWVwIH0gZnJvbSAnLi9rZWVwLmpzJztcbmltcG9ydCB7IHBvbGwgfSBmcm9tICcuL3BvbGwuanMnO1xuaW1wb3J0IHsgc2VuZCB9IGZyb20gJy4vc2VuZC5qcyc7XG5pbXBvcnQgeyB0cmFpbCB9IGZyb20gJy4vdHJhaWwuanMnO1xuXG5leHBvcnQgY29uc3Qgc3RlcEtpbmRzOiByZWFkb25seSBTdGVwS2luZFtdID0gW1xuICBzZW5kIGFzIFN0ZXBLaW5kLFxuICB0cmFpbCBhcyBTdGVwS2luZCxcbiAgZm9yRWFjaCBhcyBTdGVwS2luZCxcbiAgcG9sbCBhcyBTdGVwS2luZCxcbiAgY2hvb3NlIGFzIFN0ZXBLaW5kLFxuICBjb21wYXJlIGFzIFN0ZXBLaW5kLFxuICBrZWVwIGFzIFN0ZXBLaW5kLFxuXTtcbiIsICIvKiogQSB0cmFpbCBmaWxlIG1hZGUgcmVhZHk6IGV2ZXJ5IHJlcXVlc3QgYW5kIHRyYWlsIGluIGl0IGlzIHJlYWQgYmVmb3JlIHRoZSBmaXJzdCBzdGVwIGlzIHRha2VuLiAqL1xuaW1wb3J0IHR5cGUgeyBTdGVwRmlsZSwgVHJhaWxGaWxlIH0gZnJvbSAnLi4vY29sbGVjdGlvbi9maWxlcy90cmFpbC1maWxlLmpzJztcbmltcG9ydCB7IHBsYW5JbnB1dHMgfSBmcm9tICcuLi9jb2xsZWN0aW9uL2lucHV0cy5qcyc7XG5pbXBvcnQgdHlwZSB7IFlhbWxGaWxlIH0gZnJvbSAnLi4vY29sbGVjdGlvbi95YW1sLmpzJztcbmltcG9ydCB0eXBlIHsgTG9hZHMgfSBmcm9tICcuLi9leHByZXNzaW9uL2NvbXBpbGUuanMnO1xuaW1wb3J0IHsgYXNQcm9ibGVtLCBQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUgfSBmcm9tICcuLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB7IGNvbXBpbGVDb25kaXRpb24gfSBmcm9tICcuL2NvbmRpdGlvbnMuanMnO1xuaW1wb3J0IHR5cGUgeyBQcmVwYXJlZFJlcXVlc3QgfSBmcm9tICcuL3ByZXBhcmUuanMnO1xuaW1wb3J0IHsgcGxhblJvd3MgfSBmcm9tICcuL3Jvd3Mvcm93cy1wbGFuLmpzJztcbmltcG9ydCB0eXBlIHsgUGxhbm5lZFN0ZXAsIFBsYW5Sb29tLCBUcmFpbFBsYW4gfSBmcm9tICcuL3N0ZXAta2luZC5qcyc7XG5pbXBvcnQgeyBzdGVwS2luZHMgfSBmcm9tICcuL3N0ZXBzL3JlZ2lzdHJ5LmpzJztcbmltcG9ydCB7IHNlbmQgfSBmcm9tICcuL3N0ZXBzL3NlbmQuanMnO1xuaW1wb3J0IHsgcGxhblRhYmxlIH0gZnJvbSAnLi90YWJsZS5qcyc7XG5pbXBvcnQgdHlwZSB7IFdvcmtzcGFjZSB9IGZyb20gJy4vd29ya3NwYWNlLmpzJztcblxuLyoqIFdoYXQgdGhlIGNvbW1hbmQgbGluZSBzYXlzIGluIHBsYWNlIG9mIHRoZSBmaWxlLiAqL1xuZXhwb3J0IGludGVyZmFjZSBQbGFuV2lzaGVzIHtcbiAgcmVhZG9ubHkgcm93cz86IHN0cmluZyB8IHVuZGVmaW5lZDtcbiAgcmVhZG9ubHkgYXRPbmNlPzogbnVtYmVyIHwgdW5kZWZpbmVkO1xufVxuXG4vKipcbiAqIEBwYXJhbSBhYm92ZSB0aGUgdHJhaWxzIHRoYXQgbGVhZCBoZXJlLCBzbyB0aGF0IGEgY2lyY2xlIGlzIHNlZW5cbiAqIEB0aHJvd3MgUHJvYmxlbSBhYm91dCBhbnl0aGluZyBpbiB0aGUgdHJhaWwgb3IgaW4gd2hhdCBpdCBuYW1lc1xuICovXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gcGxhblRyYWlsKFxuICB3b3Jrc3BhY2U6IFdvcmtzcGFjZSxcbiAgZ2l2ZW46IHN0cmluZyxcbiAgd2lzaGVzOiBQbGFuV2lzaGVzID0ge30sXG4gIGFib3ZlOiByZWFkb25seSBzdHJpbmdbXSA9IFtdLFxuKTogUHJvbWlzZTxUcmFpbFBsYW4+IHtcbiAgY29uc3QgeyBjb2xsZWN0aW9uIH0gPSB3b3Jrc3BhY2U7XG4gIGNvbnN0IHsgbmFtZSwgY29udGVudCwgeWFtbCB9ID0gY29sbGVjdGlvbi5yZWFkKCd0cmFpbCcsIGdpdmVuKTtcbiAgaWYgKGFib3ZlLmluY2x1ZGVzKG5hbWUpKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ2NpcmNsZScsIHtcbiAgICAgIHdoYXQ6IGB0aGUgdHJhaWxzICR7Wy4uLmFib3ZlLCBuYW1lXS5qb2luKCcsICcpfSBsZWFkIHRvIGVhY2ggb3RoZXIgaW4gYSBjaXJjbGVgLFxuICAgICAgd2hlcmU6IHsgZmlsZTogeWFtbC5maWxlIH0sXG4gICAgfSk7XG4gIH1cbiAgY29uc3QgbG9hZHM6IExvYWRzID0gW107XG4gIGNvbnN0IHRleHRzID0gW3lhbWwudGV4dF07XG4gIGNvbnN0IHBsYWNlZCA9IGFzeW5jIDxUPihwYXRoOiByZWFkb25seSAoc3RyaW5nIHwgbnVtYmVyKVtdLCB3b3JrOiAoKSA9PiBQcm9taXNlPFQ+KTogUHJvbWlzZTxUPiA9PiB7XG4gICAgdHJ5IHtcbiAgICAgIHJldHVybiBhd2FpdCB3b3JrKCk7XG4gICAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICAgIHRocm93IGFzUHJvYmxlbShlcnJvcikuYXQoeWFtbC5wb3NpdGlvbihwYXRoKSk7XG4gICAgfVxuICB9O1xuICBjb25zdCBwbGFuU3RlcHMgPSBhc3luYyAoXG4gICAgZmlsZXM6IHJlYWRvbmx5IFN0ZXBGaWxlW10sXG4gICAgcGF0aDogcmVhZG9ubHkgKHN0cmluZyB8IG51bWJlcilbXSxcbiAgKTogUHJvbWlzZTxyZWFkb25seSBQbGFubmVkU3RlcFtdPiA9PiB7XG4gICAgY29uc3Qgc3RlcHM6IFBsYW5uZWRTdGVwW10gPSBbXTtcbiAgICBmb3IgKGNvbnN0IFtpbmRleCwgZmlsZV0gb2YgZmlsZXMuZW50cmllcygpKSB7XG4gICAgICBjb25zdCBhdCA9IFsuLi5wYXRoLCBpbmRleF07XG4gICAgICBjb25zdCByb29tOiBQbGFuUm9vbSA9IHtcbiAgICAgICAgd29ya3NwYWNlLFxuICAgICAgICBjb2xsZWN0aW9uLFxuICAgICAgICB5YW1sLFxuICAgICAgICBwYXRoOiBhdCxcbiAgICAgICAgbG9hZHMsXG4gICAgICAgIHJlcXVlc3Q6IChyZXF1ZXN0LCBrZXkpID0+IHBsYWNlZChbLi4uYXQsIGtleV0sIGFzeW5jICgpID0+IHdvcmtzcGFjZS5wcmVwYXJlKHJlcXVlc3QpKSxcbiAgICAgICAgdHJhaWw6ICh0cmFpbCwga2V5KSA9PlxuICAgICAgICAgIHBsYWNlZChbLi4uYXQsIGtleV0sIGFzeW5jICgpID0+IHtcbiAgICAgICAgICAgIGNvbnN0IGlubmVyID0gYXdhaXQgcGxhblRyYWlsKHdvcmtzcGFjZSwgdHJhaWwsIHt9LCBbLi4uYWJvdmUsIG5hbWVdKTtcbiAgICAgICAgICAgIHRleHRzLnB1c2goaW5uZXIudGV4dCk7XG4gICAgICAgICAgICByZXR1cm4gaW5uZXI7XG4gICAgICAgICAgfSksXG4gICAgICAgIHN0ZXBzOiBwbGFuU3RlcHMsXG4gICAgICB9O1xuICAgICAgc3RlcHMucHVzaChhd2FpdCBwbGFuU3RlcChmaWxlLCByb29tKSk7XG4gICAgfVxuICAgIHJldHVybiBzdGVwcztcbiAgfTtcbiAgY29uc3Qgc3RlcHMgPSBhd2FpdCBwbGFuU3RlcHMoY29udGVudC5zdGVwcywgWydzdGVwcyddKTtcbiAgY29uc3QgcGxhbjogVHJhaWxQbGFuID0ge1xuICAgIG5hbWUsXG4gICAgc3RlcHMsXG4gICAgdGFrZXM6IFsuLi5PYmplY3Qua2V5cyhjb250ZW50LmlucHV0cyA/PyB7fSksIC4uLnN0ZXBzLmZsYXRNYXAoKHsgdGFrZXMgfSkgPT4gdGFrZXMgPz8gW10pXSxcbiAgICBpbnB1dHM6IHBsYW5JbnB1dHMoY29udGVudC5pbnB1dHMsIHsgeWFtbCB9LCBgdHJhaWwgJHtuYW1lfWAsIGxvYWRzKSxcbiAgICByb3dzOiByb3dzT2YoY29udGVudCwgd2lzaGVzLCB5YW1sLCBsb2Fkcywgd29ya3NwYWNlKSxcbiAgICBhdE9uY2U6IHdpc2hlcy5hdE9uY2UgPz8gY29udGVudFsnYXQtb25jZSddID8/IDEsXG4gICAgdW5kbzogY29udGVudC51bmRvID8/ICdmYWlsdXJlJyxcbiAgICB0YWJsZTogY29udGVudC50YWJsZSAmJiBwbGFuVGFibGUoY29udGVudC50YWJsZSwgeWFtbCwgWyd0YWJsZSddLCBsb2FkcyksXG4gICAgdGV4dDogdGV4dHMuam9pbignXFxuJyksXG4gIH07XG4gIGF3YWl0IFByb21pc2UuYWxsKGxvYWRzKTtcbiAgcmV0dXJuIHBsYW47XG59XG5cbmZ1bmN0aW9uIHJvd3NPZihcbiAgeyByb3dzIH06IFRyYWlsRmlsZSxcbiAgd2lzaGVzOiBQbGFuV2lzaGVzLFxuICB5YW1sOiBZYW1sRmlsZSxcbiAgbG9hZHM6IExvYWRzLFxuICB3b3Jrc3BhY2U6IFdvcmtzcGFjZSxcbik6IFRyYWlsUGxhblsncm93cyddIHtcbiAgaWYgKHdpc2hlcy5yb3dzICE9PSB1bmRlZmluZWQpIHJldHVybiBwbGFuUm93cyh3aXNoZXMucm93cywgeWFtbCwgbG9hZHMsIHdvcmtzcGFjZSk7XG4gIHJldHVybiByb3dzID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiBwbGFuUm93cyhyb3dzIGFzIHN0cmluZyB8IFZhbHVlW10sIHlhbWwsIGxvYWRzLCB3b3Jrc3BhY2UpO1xufVxuXG5hc3luYyBmdW5jdGlvbiBwbGFuU3RlcChmaWxlOiBTdGVwRmlsZSwgcm9vbTogUGxhblJvb20pOiBQcm9taXNlPFBsYW5uZWRTdGVwPiB7XG4gIGNvbnN0IHsgeWFtbCwgbG9hZHMsIHdvcmtzcGFjZSwgcGF0aCB9ID0gcm9vbTtcbiAgY29uc3Qga2luZCA9IHN0ZXBLaW5kcy5maW5kKChvbmUpID0+IG9uZS5maXRzKGZpbGUpKTtcbiAgaWYgKCFraW5kKSB0aHJvdyBuZXcgUHJvYmxlbSgnZmlsZS1zaGFwZScsIHsgd2hhdDogJ3RoZSBzdGVwIGlzIG9mIG5vIGtub3duIGtpbmQnLCB3aGVyZTogeWFtbC5wb3NpdGlvbihwYXRoKSB9KTtcbiAgY29uc3QgcGxhbm5lZCA9IGF3YWl0IGtpbmQucGxhbihmaWxlLCByb29tKTtcbiAgY29uc3QgeyByZWFkVGV4dCB9ID0gd29ya3NwYWNlO1xuICBjb25zdCB3aGVuID0gZmlsZS53aGVuICYmIGNvbXBpbGVDb25kaXRpb24oZmlsZS53aGVuLCBbLi4ucGF0aCwgJ3doZW4nXSwgeyB5YW1sLCBsb2FkcywgcmVhZFRleHQgfSk7XG4gIHJldHVybiB7IC4uLnBsYW5uZWQsIHdoZW4gfTtcbn1cblxuLyoqIEEgcmVxdWVzdCB3YWxrZWQgYXMgYSB0cmFpbCBvZiBvbmUgc3RlcCwgc28gdGhhdCBgcnVuYCB0YWtlcyBib3RoLiAqL1xuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIHJlcXVlc3RBc1RyYWlsKFxuICB3b3Jrc3BhY2U6IFdvcmtzcGFjZSxcbiAgcHJlcGFyZWQ6IFByZXBhcmVkUmVxdWVzdCxcbiAgd2lzaGVzOiBQbGFuV2lzaGVzID0ge30sXG4pOiBQcm9taXNlPFRyYWlsUGxhbj4ge1xuICBjb25zdCB7IHlhbWwsIG5hbWUgfSA9IHByZXBhcmVkLnBsYW47XG4gIGNvbnN0IGxvYWRzOiBMb2FkcyA9IFtdO1xuICBjb25zdCBub3RoaW5nSW5zaWRlID0gKCk6IFByb21pc2U8bmV2ZXI+ID0+XG4gICAgUHJvbWlzZS5yZWplY3QobmV3IFByb2JsZW0oJ2NpcmNsZScsIHsgd2hhdDogJ2EgcmVxdWVzdCBoYXMgbmVpdGhlciB0cmFpbHMgbm9yIHN0ZXBzJyB9KSk7XG4gIGNvbnN0IHJvb206IFBsYW5Sb29tID0ge1xuICAgIHdvcmtzcGFjZSxcbiAgICBjb2xsZWN0aW9uOiB3b3Jrc3BhY2UuY29sbGVjdGlvbixcbiAgICB5YW1sLFxuICAgIHBhdGg6IFtdLFxuICAgIGxvYWRzLFxuICAgIHJlcXVlc3Q6IGFzeW5jICgpID0+IHByZXBhcmVkLFxuICAgIHRyYWlsOiBub3RoaW5nSW5zaWRlLFxuICAgIHN0ZXBzOiBub3RoaW5nSW5zaWRlLFxuICB9O1xuICBjb25zdCBzdGVwID0gYXdhaXQgc2VuZC5wbGFuKHsgc2VuZDogbmFtZSB9LCByb29tKTtcbiAgY29uc3Qgcm93cyA9IHdpc2hlcy5yb3dzID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiBwbGFuUm93cyh3aXNoZXMucm93cywgeWFtbCwgbG9hZHMsIHdvcmtzcGFjZSk7XG4gIGF3YWl0IFByb21pc2UuYWxsKGxvYWRzKTtcbiAgcmV0dXJuIHtcbiAgICBuYW1lLFxuICAgIHN0ZXBzOiBbeyAuLi5zdGVwLCB3aGVuOiB1bmRlZmluZWQgfV0sXG4gICAgdGFrZXM6IHByZXBhcmVkLnBsYW4uaW5wdXRzLm1hcCgoaW5wdXQpID0+IGlucHV0Lm5hbWUpLFxuICAgIC8vIE9ubHkgd2hhdCB0aGUgY29tbWFuZCBsaW5lIG5hbWVzOyB0aGUgcmVxdWVzdCBoYXMgaXRzIGRlZmF1bHRzIGl0c2VsZi5cbiAgICBpbnB1dHM6IHByZXBhcmVkLnBsYW4uaW5wdXRzLmZpbHRlcigoaW5wdXQpID0+IHdvcmtzcGFjZS5zZXR0aW5ncy5oYXMoaW5wdXQubmFtZSkpLFxuICAgIHJvd3MsXG4gICAgYXRPbmNlOiB3aXNoZXMuYXRPbmNlID8/IDEsXG4gICAgdW5kbzogJ25ldmVyJyxcbiAgICB0YWJsZTogdW5kZWZpbmVkLFxuICAgIHRleHQ6IHlhbWwudGV4dCxcbiAgfTtcbn1cbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7QUFHTyxJQUFNLFFBQU4sTUFBTSxPQUF1QjtBQUFBO0FBQUEsRUFJbEMsWUFDbUIsUUFDakIsT0FDaUIsT0FDakI7QUFIaUI7QUFFQTtBQUVqQixTQUFLLFNBQVMsUUFBUSxDQUFDLE9BQU8sR0FBRyxNQUFNLE1BQU0sSUFBSSxDQUFDLEtBQUs7QUFBQSxFQUN6RDtBQUFBLEVBTG1CO0FBQUEsRUFFQTtBQUFBLEVBTlY7QUFBQSxFQVdULE9BQU8sTUFBaUM7QUFDdEMsV0FBTyxLQUFLLE9BQU8sSUFBSSxJQUFJLEtBQUssS0FBSyxPQUFPLE9BQU8sSUFBSTtBQUFBLEVBQ3pEO0FBQUEsRUFFQSxDQUFDLFFBQTBCO0FBQ3pCLFdBQU8sS0FBSyxPQUFPLEtBQUs7QUFDeEIsUUFBSSxLQUFLLE1BQU8sUUFBTyxLQUFLLE1BQU0sTUFBTTtBQUFBLEVBQzFDO0FBQUEsRUFFQSxJQUFJLE1BQWMsT0FBb0I7QUFDcEMsU0FBSyxPQUFPLElBQUksTUFBTSxLQUFLO0FBQUEsRUFDN0I7QUFBQTtBQUFBLEVBR0EsV0FBa0I7QUFDaEIsV0FBTyxJQUFJLE9BQU0sSUFBSSxJQUFJLEtBQUssTUFBTSxHQUFHLEtBQUssT0FBTyxDQUFDLEtBQUssSUFBSSxLQUFLLE9BQU8sU0FBUyxDQUFDO0FBQUEsRUFDckY7QUFDRjs7O0FDckJPLFNBQVMsV0FDZCxNQUNBLFdBQ0EsT0FDQSxLQUNPO0FBQ1AsUUFBTSxTQUFTLG9CQUFJLElBQW1CO0FBQ3RDLE1BQUksS0FBSztBQUNQLFVBQU0sU0FBUyxPQUFPLElBQUksTUFBTSxPQUFPLEtBQUssTUFBTSxJQUFJO0FBQ3RELFdBQU8sSUFBSSxPQUFPLEVBQUUsT0FBTyxJQUFJLFNBQVMsT0FBTyxDQUFDO0FBQ2hELGVBQVcsUUFBUSxJQUFJLFFBQVMsUUFBTyxJQUFJLE1BQU0sRUFBRSxPQUFPLElBQUksUUFBUSxJQUFJLEdBQVksT0FBTyxDQUFDO0FBQUEsRUFDaEc7QUFDQSxTQUFPLFdBQVcsTUFBTSxXQUFXLFFBQVEsT0FBTyxDQUFDLFVBQVU7QUFDM0QsVUFBTSxhQUFhLEtBQUs7QUFBQSxFQUMxQixDQUFDO0FBQ0g7QUFHTyxTQUFTLFdBQVcsTUFBaUIsV0FBc0IsT0FBb0Q7QUFDcEgsU0FBTyxXQUFXLE1BQU0sV0FBVyxvQkFBSSxJQUFJLEdBQUcsT0FBTyxNQUFNLE1BQVM7QUFDdEU7QUFFQSxTQUFTLFdBQ1AsTUFDQSxXQUNBLFFBQ0EsT0FDQSxTQUNPO0FBQ1AsUUFBTSxRQUFRLElBQUksTUFBTSxRQUFRLG1CQUFtQixLQUFLLElBQUksRUFBRTtBQUM5RCxNQUFJLEtBQUssT0FBTyxXQUFXLEVBQUcsUUFBTztBQUNyQyxRQUFNLGVBQWUsRUFBRSxPQUFPLFVBQVUsTUFBTSxHQUFHLFVBQVUsVUFBVSxTQUFTLElBQUk7QUFDbEYsUUFBTSxRQUFRLGNBQWMsVUFBVSxRQUFRLFNBQVMsWUFBWTtBQUNuRSxhQUFXLFNBQVMsS0FBSyxRQUFRO0FBQy9CLFVBQU0sUUFBUSxXQUFXLE9BQU8sTUFBTSxNQUFNLElBQUksS0FBSyxPQUFPLElBQUksTUFBTSxJQUFJLEdBQUcsT0FBTyxZQUFZO0FBQ2hHLFFBQUksTUFBTyxPQUFNLElBQUksTUFBTSxNQUFNLEtBQUs7QUFBQSxRQUNqQyxTQUFRLEtBQUs7QUFBQSxFQUNwQjtBQUNBLFNBQU87QUFDVDtBQUdPLElBQU0sa0JBQ1gsQ0FBQyxFQUFFLFNBQVMsTUFDWixDQUFDLFVBQXFDO0FBQ3BDLFFBQU0sUUFBUSxTQUFTLElBQUksS0FBSztBQUNoQyxTQUFPLFVBQVUsU0FBWSxTQUFZLEVBQUUsT0FBTyxRQUFRLFFBQVE7QUFDcEU7OztBQ25DSyxTQUFTLGlCQUNkLEtBQ0EsTUFDQSxNQUNXO0FBQ1gsUUFBTUEsU0FBUSxPQUFPLFFBQVEsR0FBRyxFQUFFLElBQUksQ0FBQyxDQUFDLE1BQU0sS0FBSyxNQUFpQjtBQUNsRSxVQUFNLEtBQUssQ0FBQyxHQUFHLE1BQU0sSUFBSTtBQUN6QixRQUFJO0FBQ0YsVUFBSSxTQUFTLFNBQVMsTUFBTSxRQUFRLEtBQUssR0FBRztBQUMxQyxjQUFNLE9BQVEsTUFBMkI7QUFBQSxVQUFJLENBQUMsS0FBSyxVQUNqRCxpQkFBaUIsTUFBTSxHQUFHLEdBQUcsQ0FBQyxHQUFHLElBQUksS0FBSyxHQUFHLElBQUk7QUFBQSxRQUNuRDtBQUNBLGVBQU8sQ0FBQyxlQUFlLEtBQUssS0FBSyxDQUFDLFVBQVUsTUFBTSxVQUFVLENBQUM7QUFBQSxNQUMvRDtBQUNBLFVBQUksU0FBUyxTQUFTLFdBQVcsS0FBSyxHQUFHO0FBQ3ZDLGNBQU0sUUFBUSxpQkFBaUIsTUFBTSxLQUFLLEdBQUcsSUFBSSxJQUFJO0FBQ3JELGVBQU8sQ0FBQyxlQUFlLENBQUMsTUFBTSxVQUFVO0FBQUEsTUFDMUM7QUFDQSxhQUFPLFNBQVMsTUFBTSxPQUFPLElBQUksSUFBSTtBQUFBLElBQ3ZDLFNBQVMsT0FBTztBQUNkLFlBQU0sVUFBVSxLQUFLLEVBQUUsR0FBRyxLQUFLLEtBQUssU0FBUyxFQUFFLENBQUM7QUFBQSxJQUNsRDtBQUFBLEVBQ0YsQ0FBQztBQUNELFNBQU8sQ0FBQyxlQUFlQSxPQUFNLE1BQU0sQ0FBQyxVQUFVLE1BQU0sVUFBVSxDQUFDO0FBQ2pFO0FBRUEsU0FBUyxNQUFNLE9BQStDO0FBQzVELE1BQUksV0FBVyxLQUFLLEVBQUcsUUFBTztBQUM5QixRQUFNLElBQUksUUFBUSxpQkFBaUIsRUFBRSxNQUFNLHVEQUF1RCxDQUFDO0FBQ3JHO0FBR0EsU0FBUyxTQUNQLE1BQ0EsT0FDQSxJQUNBLEVBQUUsTUFBTSxPQUFPLFNBQVMsR0FDYjtBQUVYLFFBQU0sTUFBTSxPQUFPLEtBQUssSUFBSSxJQUFJLFFBQVEsSUFBSSxJQUFJO0FBQ2hELFFBQU0sT0FBTyxZQUFZLE9BQU8sQ0FBQyxVQUFVLEtBQUssU0FBUyxDQUFDLEdBQUcsSUFBSSxHQUFHLEtBQUssQ0FBQyxHQUFHLEtBQUs7QUFDbEYsUUFBTSxTQUFTLENBQUMsVUFBaUIsU0FDL0IsZ0JBQWdCLFVBQVUsRUFBRSxTQUFTLEVBQUUsUUFBUSxNQUFNLEdBQUcsT0FBTyxNQUFNLFNBQVMsQ0FBQztBQUNqRixRQUFNLFFBQVEsS0FBSyxhQUFhLFNBQVksU0FBWSxPQUFPLEtBQUssVUFBVSxLQUFLO0FBQ25GLFNBQU8sQ0FBQyxlQUFlO0FBQ3JCLFVBQU0sUUFBUSxXQUFXLE1BQU0sT0FBTyxJQUFJLEdBQUcsU0FBUyxNQUFNLFVBQVU7QUFDdEUsUUFBSSxRQUFRO0FBQ1osUUFBSSxDQUFDLE9BQU87QUFDVixZQUFNLFdBQVcsS0FBSyxTQUFTLFVBQVU7QUFDekMsWUFBTSxPQUFjLENBQUM7QUFDckIsY0FBUSxPQUFPLGFBQWEsVUFBVSxPQUFPLFVBQVUsSUFBSTtBQUMzRCxVQUFJLEtBQUssU0FBUyxHQUFHO0FBQ25CLGNBQU0sSUFBSSxRQUFRLGlCQUFpQjtBQUFBLFVBQ2pDLE1BQU0sc0JBQXNCLElBQUk7QUFBQSxVQUNoQyxRQUFRO0FBQUEsUUFDVixDQUFDO0FBQUEsTUFDSDtBQUFBLElBQ0Y7QUFDQSxXQUFPLE1BQU0sS0FBSyxPQUFPLENBQUMsQ0FBQyxNQUFNO0FBQUEsRUFDbkM7QUFDRjtBQUdBLFNBQVMsUUFBUSxNQUE2RDtBQUM1RSxRQUFNLE9BQU8sZ0JBQWdCLElBQUk7QUFDakMsUUFBTSxPQUFPLEtBQUssU0FBUyxTQUFTLEtBQUssTUFBTSxJQUFJLENBQUMsU0FBVSxTQUFTLE9BQU8sS0FBSyxNQUFNLE1BQVUsSUFBSSxDQUFDO0FBQ3hHLE1BQUksS0FBSyxTQUFTLFVBQVUsS0FBSyxTQUFTLE1BQVMsR0FBRztBQUNwRCxVQUFNLElBQUksUUFBUSxpQkFBaUI7QUFBQSxNQUNqQyxNQUFNLDREQUE0RCxJQUFJO0FBQUEsTUFDdEUsUUFBUTtBQUFBLElBQ1YsQ0FBQztBQUFBLEVBQ0g7QUFDQSxTQUFPLENBQUMsRUFBRSxNQUFNLE1BQU07QUFDcEIsUUFBSSxRQUFRLE1BQU0sT0FBTyxLQUFLLElBQUksR0FBRztBQUNyQyxlQUFXLE9BQU8sTUFBNkI7QUFDN0MsVUFBSSxNQUFNLFFBQVEsS0FBSyxFQUFHLFNBQVMsTUFBMkIsR0FBRyxPQUFPLEdBQUcsQ0FBQztBQUFBLFVBQ3ZFLFNBQVEsV0FBVyxLQUFLLEtBQUssT0FBTyxPQUFPLE9BQU8sR0FBRyxJQUFJLE1BQU0sR0FBRyxJQUFJO0FBQUEsSUFDN0U7QUFDQSxXQUFPO0FBQUEsRUFDVDtBQUNGOzs7QUN0R0EsU0FBUyx3QkFBd0I7OztBQ0dqQyxJQUFJO0FBRUosZUFBZSxPQUEyQztBQUN4RCxhQUFXLE1BQU0sT0FBTyxXQUFXLEdBQUc7QUFDdEMsU0FBTztBQUNUO0FBRU8sSUFBTSxNQUFpQjtBQUFBLEVBQzVCLE1BQU07QUFBQSxFQUNOLFFBQVE7QUFBQSxFQUNSO0FBQUEsRUFDQSxPQUFPLEtBQUssUUFBUSxNQUFNO0FBQ3hCLFVBQU0sU0FBUyxPQUFPLE1BQU0sTUFBTSxLQUFLLEdBQUcsRUFBRSxTQUFTLE1BQU0sS0FBSyxNQUFNLGtCQUFrQixNQUFNLE1BQU0sTUFBTSxDQUFDLENBQUM7QUFFNUcsV0FBTyxHQUFHLFNBQVMsQ0FBQyxVQUFVLE9BQU8sUUFBUSxLQUFLLENBQUM7QUFDbkQsUUFBSSxPQUFPLE1BQVk7QUFDdkIsZUFBVyxTQUFTLENBQUMsWUFBWSxPQUFPLFNBQVMsT0FBTyxFQUFHLFFBQU8sR0FBRyxPQUFPLE1BQU0sS0FBSyxDQUFDO0FBQ3hGLFFBQUk7QUFFRixhQUFPLENBQUMsT0FBTyxXQUFXO0FBQ3hCLGNBQU0sVUFBVSxPQUFPLEtBQUs7QUFDNUIsWUFBSSxZQUFZLEtBQU0sT0FBTTtBQUFBLGlCQUNuQixPQUFPLGNBQWU7QUFBQSxhQUMxQjtBQUNILGdCQUFNLElBQUksUUFBYyxDQUFDLFlBQVk7QUFDbkMsbUJBQU87QUFBQSxVQUNULENBQUM7QUFBQSxRQUNIO0FBQUEsTUFDRjtBQUNBLFVBQUksT0FBTyxRQUFTLE9BQU0sVUFBVSxPQUFPLFNBQVMsSUFBSTtBQUFBLElBQzFELFVBQUU7QUFDQSxhQUFPLFFBQVE7QUFDZixhQUFPLFFBQVE7QUFBQSxJQUNqQjtBQUFBLEVBQ0Y7QUFDRjtBQUVBLFNBQVMsVUFBVSxPQUFtQyxNQUF1QjtBQUMzRSxNQUFJLGlCQUFpQixRQUFTLFFBQU87QUFDckMsU0FBTyxJQUFJO0FBQUEsSUFDVDtBQUFBLElBQ0EsRUFBRSxNQUFNLEdBQUcsSUFBSSwyQkFBMkIsT0FBTyxFQUFFLE1BQU0sTUFBTSxNQUFNLE1BQU0sR0FBRyxPQUFPLE1BQU0sUUFBUTtBQUFBLElBQ25HLEVBQUUsT0FBTyxNQUFNO0FBQUEsRUFDakI7QUFDRjs7O0FDdENPLElBQU0sT0FBa0I7QUFBQSxFQUM3QixNQUFNO0FBQUEsRUFDTixRQUFRO0FBQUEsRUFDUixPQUFPLEtBQUssUUFBUSxNQUFNO0FBQ3hCLFFBQUksU0FBUztBQUNiLHFCQUFpQixRQUFRLFFBQVEsUUFBUSxJQUFJLEdBQUc7QUFDOUMsZ0JBQVU7QUFDVixVQUFJO0FBQ0osVUFBSTtBQUNGLGVBQU8sVUFBVSxJQUFJO0FBQUEsTUFDdkIsU0FBUyxPQUFPO0FBQ2QsY0FBTSxJQUFJLFFBQVEsY0FBYztBQUFBLFVBQzlCLE1BQU0sUUFBUSxNQUFNLE9BQU8sSUFBSTtBQUFBLFVBQy9CLE9BQU8sRUFBRSxLQUFLO0FBQUEsVUFDZCxPQUFRLE1BQWdCO0FBQUEsUUFDMUIsQ0FBQztBQUFBLE1BQ0g7QUFDQSxVQUFJLENBQUMsV0FBVyxJQUFJO0FBQ2xCLGNBQU0sSUFBSSxRQUFRLGNBQWMsRUFBRSxNQUFNLFFBQVEsTUFBTSxPQUFPLElBQUksMEJBQTBCLE9BQU8sRUFBRSxLQUFLLEVBQUUsQ0FBQztBQUM5RyxZQUFNO0FBQUEsSUFDUjtBQUFBLEVBQ0Y7QUFDRjtBQUdBLGdCQUFnQixRQUFRLFFBQWtCLE1BQXNDO0FBQzlFLE1BQUksT0FBTztBQUNYLE1BQUksUUFBUTtBQUNaLE1BQUksU0FBUztBQUNiLE1BQUksVUFBVTtBQUNkLFNBQU8sWUFBWSxNQUFNO0FBQ3pCLG1CQUFpQixTQUFTLFFBQWlDO0FBQ3pELFFBQUksT0FBTztBQUNYLGFBQVMsS0FBSyxHQUFHLEtBQUssTUFBTSxRQUFRLE1BQU0sR0FBRztBQUMzQyxZQUFNLFNBQVMsTUFBTSxFQUFFO0FBQ3ZCLFVBQUksUUFBUTtBQUNWLFlBQUksUUFBUyxXQUFVO0FBQUEsaUJBQ2QsV0FBVyxLQUFNLFdBQVU7QUFBQSxpQkFDM0IsV0FBVyxJQUFLLFVBQVM7QUFBQSxNQUNwQyxXQUFXLFdBQVcsSUFBSyxVQUFTO0FBQUEsZUFDM0IsV0FBVyxPQUFPLFdBQVcsS0FBSztBQUN6QyxpQkFBUztBQUNULFlBQUksVUFBVSxHQUFHO0FBQ2YsY0FBSSxXQUFXLElBQUssT0FBTSxTQUFTLElBQUk7QUFDdkMsaUJBQU8sS0FBSztBQUFBLFFBQ2Q7QUFBQSxNQUNGLFdBQVcsV0FBVyxPQUFPLFdBQVcsT0FBUSxXQUFXLE9BQU8sVUFBVSxHQUFJO0FBQzlFLFlBQUksU0FBUyxHQUFHO0FBQ2Qsa0JBQVEsTUFBTSxNQUFNLE1BQU0sRUFBRTtBQUM1QixjQUFJLEtBQUssS0FBSyxNQUFNLEdBQUksT0FBTTtBQUFBLG1CQUNyQixXQUFXLElBQUssT0FBTSxTQUFTLElBQUk7QUFDNUMsaUJBQU87QUFDUCxpQkFBTyxLQUFLO0FBQUEsUUFDZDtBQUNBLFlBQUksV0FBVyxJQUFLLFVBQVM7QUFBQSxNQUMvQixXQUFXLFVBQVUsS0FBSyxDQUFDLGFBQWEsS0FBSyxNQUFNLEVBQUcsT0FBTSxTQUFTLElBQUk7QUFBQSxJQUMzRTtBQUNBLFFBQUksUUFBUSxFQUFHLFNBQVEsTUFBTSxNQUFNLElBQUk7QUFBQSxFQUN6QztBQUNBLE1BQUksUUFBUSxHQUFHO0FBQ2IsVUFBTSxJQUFJLFFBQVEsY0FBYyxFQUFFLE1BQU0sR0FBRyxJQUFJLG1DQUFtQyxPQUFPLEVBQUUsS0FBSyxFQUFFLENBQUM7QUFBQSxFQUNyRztBQUNGO0FBRUEsSUFBTSxXQUFXLENBQUMsU0FDaEIsSUFBSSxRQUFRLGNBQWM7QUFBQSxFQUN4QixNQUFNLEdBQUcsSUFBSTtBQUFBLEVBQ2IsT0FBTyxFQUFFLEtBQUs7QUFBQSxFQUNkLFFBQVE7QUFDVixDQUFDOzs7QUM5RUgsU0FBUyx1QkFBdUI7QUFNekIsSUFBTSxRQUFtQjtBQUFBLEVBQzlCLE1BQU07QUFBQSxFQUNOLFFBQVE7QUFBQSxFQUNSLE9BQU8sS0FBSyxRQUFRLE1BQU07QUFDeEIsUUFBSSxPQUFPO0FBQ1gscUJBQWlCLFFBQVEsZ0JBQWdCLEVBQUUsT0FBTyxRQUFRLFdBQVcsT0FBTyxrQkFBa0IsQ0FBQyxHQUFHO0FBQ2hHLGNBQVE7QUFDUixVQUFJLEtBQUssS0FBSyxNQUFNLEdBQUk7QUFDeEIsVUFBSTtBQUNKLFVBQUk7QUFDRixrQkFBVSxVQUFVLElBQUk7QUFBQSxNQUMxQixTQUFTLE9BQU87QUFDZCxjQUFNLElBQUksUUFBUSxjQUFjO0FBQUEsVUFDOUIsTUFBTSxHQUFHLElBQUk7QUFBQSxVQUNiLE9BQU8sRUFBRSxNQUFNLEtBQUs7QUFBQSxVQUNwQixPQUFRLE1BQWdCO0FBQUEsUUFDMUIsQ0FBQztBQUFBLE1BQ0g7QUFDQSxVQUFJLENBQUMsV0FBVyxPQUFPO0FBQ3JCLGNBQU0sSUFBSSxRQUFRLGNBQWMsRUFBRSxNQUFNLCtCQUErQixPQUFPLEVBQUUsTUFBTSxLQUFLLEVBQUUsQ0FBQztBQUNoRyxZQUFNO0FBQUEsSUFDUjtBQUFBLEVBQ0Y7QUFDRjs7O0FIbEJBLElBQU0sYUFBbUMsQ0FBQyxLQUFLLE1BQU0sS0FBSztBQUUxRCxTQUFTLFlBQVksTUFBeUI7QUFDNUMsUUFBTSxRQUFRLFdBQVcsS0FBSyxDQUFDLEVBQUUsT0FBTyxNQUFNLE9BQU8sS0FBSyxJQUFJLENBQUM7QUFDL0QsTUFBSSxNQUFPLFFBQU87QUFDbEIsUUFBTSxJQUFJLFFBQVEsY0FBYztBQUFBLElBQzlCLE1BQU0sNkRBQTZELElBQUk7QUFBQSxFQUN6RSxDQUFDO0FBQ0g7QUFHTyxTQUFTLFVBQVUsTUFBYyxNQUFjLE9BQWMsT0FBMkI7QUFDN0YsTUFBSTtBQUNGLFVBQU0sRUFBRSxNQUFBQyxNQUFLLElBQUksWUFBWSxJQUFJO0FBQ2pDLGVBQVcsTUFBTSxJQUFJO0FBQ3JCLFFBQUlBLE1BQU0sT0FBTSxLQUFLQSxNQUFLLENBQUM7QUFBQSxFQUM3QixTQUFTLE9BQU87QUFDZCxVQUFNLFVBQVUsS0FBSyxFQUFFLEdBQUcsS0FBSztBQUFBLEVBQ2pDO0FBQ0Y7QUFHTyxTQUFTLFNBQVMsTUFBYyxNQUF1QztBQUM1RSxRQUFNLFNBQVMsWUFBWSxJQUFJO0FBQy9CLFNBQU8sT0FBTyxLQUFLLGlCQUFpQixXQUFXLE1BQU0sSUFBSSxDQUFDLEdBQUcsSUFBSTtBQUNuRTtBQUdBLGdCQUF1QixXQUFXLFFBQTRDO0FBQzVFLFFBQU0sT0FBTztBQUNiLFFBQU0sUUFBUSxNQUFNLFlBQVksTUFBTTtBQUN0QyxNQUFJLFVBQVUsT0FBVztBQUN6QixVQUFRLFVBQVUsTUFBTSxPQUFPLFVBQVUsTUFBTSxRQUFRLEtBQUssS0FBSyxRQUFRLElBQUk7QUFDL0U7QUFHQSxlQUFlLFlBQVksUUFBK0M7QUFDeEUsYUFBUztBQUNQLFVBQU0sUUFBUSxPQUFPLEtBQUs7QUFDMUIsUUFBSSxVQUFVLE1BQU07QUFDbEIsVUFBSSxPQUFPLGlCQUFpQixPQUFPLFVBQVcsUUFBTztBQUNyRCxZQUFNLElBQUksUUFBYyxDQUFDLFlBQVk7QUFDbkMsY0FBTSxLQUFLLE1BQVk7QUFDckIsaUJBQU8sSUFBSSxZQUFZLEVBQUUsRUFBRSxJQUFJLE9BQU8sRUFBRSxFQUFFLElBQUksU0FBUyxFQUFFO0FBQ3pELGtCQUFRO0FBQUEsUUFDVjtBQUNBLGVBQU8sR0FBRyxZQUFZLEVBQUUsRUFBRSxHQUFHLE9BQU8sRUFBRSxFQUFFLEdBQUcsU0FBUyxFQUFFO0FBQUEsTUFDeEQsQ0FBQztBQUNEO0FBQUEsSUFDRjtBQUNBLFVBQU0sT0FBTyxNQUFNLFNBQVMsTUFBTSxFQUFFLFFBQVEsV0FBVyxFQUFFO0FBQ3pELFVBQU0sUUFBUSxLQUFLLEtBQUssSUFBSSxJQUFJLENBQUM7QUFDakMsUUFBSSxVQUFVLE9BQVc7QUFDekIsV0FBTyxRQUFRLEtBQUs7QUFDcEIsV0FBTztBQUFBLEVBQ1Q7QUFDRjs7O0FJbkVBLFNBQVMsb0JBQUFDLHlCQUF3QjtBQUlqQyxlQUFzQixVQUFVLE1BQWMsTUFBMkM7QUFDdkYsUUFBTUMsT0FBTSxVQUFVLEtBQUssSUFBSTtBQUMvQixNQUFJLENBQUNBLFFBQU8sQ0FBQyx1QkFBdUIsS0FBSyxJQUFJLEVBQUcsUUFBTztBQUN2RCxNQUFJLFFBQVE7QUFDWixNQUFJLE9BQU87QUFDWCxtQkFBaUIsU0FBU0Msa0JBQWlCLFdBQVcsTUFBTSxJQUFJLENBQUMsR0FBNEI7QUFDM0YsYUFBUyxLQUFLLE1BQU0sUUFBUSxFQUFFLEdBQUcsT0FBTyxJQUFJLEtBQUssTUFBTSxRQUFRLElBQUksS0FBSyxDQUFDLEVBQUcsVUFBUztBQUNyRixXQUFPLE1BQU0sR0FBRyxFQUFFLEtBQUs7QUFBQSxFQUN6QjtBQUNBLFNBQU8sS0FBSyxJQUFJLEdBQUcsU0FBUyxTQUFTLEtBQUssSUFBSSxNQUFNRCxPQUFNLElBQUksRUFBRTtBQUNsRTs7O0FDUU8sU0FBUyxTQUNkLE9BQ0EsTUFDQSxPQUNBLEVBQUUsWUFBWSxFQUFFLEtBQUssR0FBRyxjQUFjLEdBQzVCO0FBQ1YsTUFBSSxVQUFVLEtBQUs7QUFDakIsUUFBSSxDQUFDLGNBQWUsT0FBTSxJQUFJLFFBQVEsU0FBUyxFQUFFLE1BQU0seURBQXlELENBQUM7QUFDakgsV0FBTyxFQUFFLE1BQU0sa0JBQWtCLE1BQU0sTUFBTSxXQUFXLGNBQWMsQ0FBQyxHQUFHLE9BQU8sUUFBUTtBQUFBLEVBQzNGO0FBQ0EsTUFBSSxPQUFPLFVBQVUsWUFBWSxDQUFDLE1BQU0sU0FBUyxJQUFJLEdBQUc7QUFDdEQsY0FBVSxNQUFNLE9BQU8sT0FBTyxLQUFLLFNBQVMsQ0FBQyxNQUFNLENBQUMsQ0FBQztBQUNyRCxXQUFPO0FBQUEsTUFDTCxNQUFNO0FBQUEsTUFDTixNQUFNLE1BQU0sU0FBUyxNQUFNLEtBQUs7QUFBQSxNQUNoQyxPQUFPLE1BQU0sVUFBVSxNQUFNLEtBQUs7QUFBQSxJQUNwQztBQUFBLEVBQ0Y7QUFDQSxRQUFNLFFBQVEsS0FBSyxTQUFTLENBQUMsTUFBTSxDQUFDO0FBQ3BDLFFBQU0sT0FBTyxZQUFZLE9BQWdCLENBQUMsU0FBUyxLQUFLLFNBQVMsQ0FBQyxRQUFRLEdBQUcsSUFBSSxDQUFDLEdBQUcsS0FBSztBQUMxRixTQUFPO0FBQUEsSUFDTCxNQUFNO0FBQUEsSUFDTixPQUFPO0FBQUEsSUFDUCxLQUFLLFdBQVcsS0FBSztBQUNuQixZQUFNLGVBQWUsRUFBRSxPQUFPLFVBQVUsTUFBTSxHQUFHLFVBQVUsVUFBVSxTQUFTLElBQUk7QUFDbEYsWUFBTSxRQUFRLFFBQVEsS0FBSyxjQUFjLFVBQVUsUUFBUSxLQUFLLFlBQVksQ0FBQztBQUM3RSxZQUFNLFFBQVEsS0FBSyxTQUFTLElBQUksV0FBVyxPQUFPLFlBQVksQ0FBQztBQUMvRCxVQUFJLFVBQVUsV0FBVyxNQUFNLFFBQVEsS0FBSyxFQUFHLFFBQU8sT0FBTyxLQUF5QjtBQUN0RixZQUFNLElBQUksUUFBUSxjQUFjLEVBQUUsTUFBTSxzREFBc0QsTUFBTSxDQUFDO0FBQUEsSUFDdkc7QUFBQSxFQUNGO0FBQ0Y7QUFFQSxJQUFNLFVBQVUsWUFBZ0M7QUFHaEQsZ0JBQWdCLE9BQU8sT0FBbUQ7QUFDeEUsYUFBVyxRQUFRLE1BQU8sT0FBTSxXQUFXLElBQUksSUFBSSxPQUFPLEVBQUUsT0FBTyxLQUFLO0FBQzFFOzs7QUNqRE8sU0FBUyxVQUNkLFFBQ0EsRUFBRSxNQUFNLE1BQU0sR0FDZCxNQUNPO0FBQ1AsU0FBTyxJQUFJO0FBQUEsSUFDVCxPQUFPLFFBQVEsVUFBVSxDQUFDLENBQUMsRUFBRSxJQUFJLENBQUMsQ0FBQyxLQUFLLEtBQUssTUFBTTtBQUFBLE1BQ2pEO0FBQUEsTUFDQSxZQUFZLE9BQU8sQ0FBQyxVQUFVLEtBQUssU0FBUyxDQUFDLEdBQUcsTUFBTSxLQUFLLEdBQUcsS0FBSyxDQUFDLEdBQUcsS0FBSztBQUFBLElBQzlFLENBQUM7QUFBQSxFQUNIO0FBQ0Y7QUFHTyxTQUFTLGVBQWUsV0FBc0IsT0FBMEI7QUFDN0UsUUFBTSxlQUFlLEVBQUUsT0FBTyxVQUFVLE1BQU0sR0FBRyxVQUFVLFVBQVUsU0FBUyxJQUFJO0FBQ2xGLFNBQU8sSUFBSSxXQUFXLFFBQVEsT0FBTyxjQUFjLFVBQVUsUUFBUSxPQUFPLFlBQVksQ0FBQyxHQUFHLFlBQVk7QUFDMUc7QUFFTyxTQUFTLFVBQVUsTUFBWSxZQUF3QixRQUFtQztBQUMvRixRQUFNLFFBQVEsSUFBSSxXQUFXLFdBQVcsT0FBTyxVQUFVO0FBQ3pELFFBQU0sUUFBUSxLQUFLLFNBQVMsS0FBSztBQUNqQyxTQUFPLFVBQVUsVUFBVSxTQUFZLEVBQUUsT0FBTyxRQUFRLFFBQVEsTUFBTSxjQUFjO0FBQ3RGO0FBR08sU0FBUyxNQUNkLE9BQ0EsV0FDQSxPQUNBLE9BQ3NDO0FBQ3RDLE1BQUk7QUFDSixTQUFPLENBQUMsVUFBVTtBQUNoQixVQUFNLE9BQU8sTUFBTSxJQUFJLEtBQUs7QUFDNUIsUUFBSSxDQUFDLEtBQU0sUUFBTyxNQUFNLE9BQU8sS0FBSztBQUNwQyxtQkFBZSxlQUFlLFdBQVcsS0FBSztBQUM5QyxXQUFPLFVBQVUsTUFBTSxZQUFZLGlCQUFpQixLQUFLLEVBQUU7QUFBQSxFQUM3RDtBQUNGOzs7QUNoQ08sU0FBUyxVQUNkLE9BQ0EsTUFDQSxPQUFxQyxDQUFDLEdBQ3pCO0FBQ2IsU0FBTyxVQUFXLFNBQVMsTUFBZ0IsSUFBSSxFQUFFO0FBQUEsSUFBUSxDQUFDLEVBQUUsUUFBUSxPQUFPLENBQUMsR0FBRyxNQUFNLElBQUksVUFBVSxTQUFTLE1BQzFHLFdBQVcsVUFBYSxZQUFZLFdBQVcsQ0FBQyxJQUFJLENBQUMsRUFBRSxNQUFNLFFBQVEsS0FBSyxLQUFLLENBQUMsR0FBRyxPQUFPLEtBQUssU0FBUyxDQUFDLEdBQUcsRUFBRSxDQUFDLEVBQUUsQ0FBQztBQUFBLEVBQ3BIO0FBQ0Y7QUFFQSxJQUFNLFFBQVEsQ0FBQyxPQUFPLFFBQVEsU0FBUyxXQUFXLFdBQVcsTUFBTTtBQUc1RCxTQUFTLFVBQ2QsRUFBRSxXQUFXLEdBQ2IsRUFBRSxTQUFTLE1BQU0sS0FBSyxHQUN0QixVQUNBLFdBQ2E7QUFDYixTQUFPO0FBQUEsSUFDTCxHQUFHLE1BQU0sUUFBUSxDQUFDLFNBQVMsVUFBVSxRQUFRLElBQUksR0FBRyxNQUFNLENBQUMsSUFBSSxDQUFDLENBQUM7QUFBQSxJQUNqRSxHQUFHLFdBQ0EsU0FBUyxJQUFJLEVBQ2I7QUFBQSxNQUFRLENBQUMsYUFDUCxDQUFDLFdBQVcsT0FBTyxFQUFZO0FBQUEsUUFBUSxDQUFDLFNBQ3ZDLE9BQU8sUUFBUSxTQUFTLFFBQVEsSUFBSSxLQUFLLENBQUMsQ0FBQyxFQUFFO0FBQUEsVUFBUSxDQUFDLENBQUMsS0FBSyxLQUFLLE1BQy9ELE9BQU8sS0FBSyxRQUFRLElBQUksS0FBSyxDQUFDLENBQUMsRUFBRSxLQUFLLENBQUMsUUFBUSxJQUFJLFlBQVksTUFBTSxJQUFJLFlBQVksQ0FBQyxJQUNsRixDQUFDLElBQ0QsVUFBVSxPQUFPLFNBQVMsTUFBTSxDQUFDLE1BQU0sR0FBRyxDQUFDO0FBQUEsUUFDakQ7QUFBQSxNQUNGO0FBQUEsSUFDRjtBQUFBLElBQ0YsR0FBSSxjQUFjLFNBQVksQ0FBQyxJQUFJLFlBQVksWUFBWSxhQUFhLFNBQVM7QUFBQSxJQUNqRixHQUFHLFNBQVMsUUFBUSxDQUFDLFlBQVksWUFBWSxZQUFZLFdBQVcsT0FBTyxDQUFDO0FBQUEsRUFDOUU7QUFDRjtBQUdBLFNBQVMsWUFBWSxZQUF3QixNQUErQixPQUE0QjtBQUN0RyxNQUFJO0FBQ0YsVUFBTSxFQUFFLFNBQVMsS0FBSyxJQUFJLFdBQVcsS0FBSyxNQUFNLEtBQUs7QUFDckQsUUFBSSxTQUFTLGFBQWEsYUFBYSxJQUFJLFFBQVEsUUFBUSxFQUFFLEdBQUcsS0FBTSxRQUFPLENBQUM7QUFDOUUsVUFBTSxFQUFFLFVBQVUsR0FBRyxPQUFPLElBQUksR0FBRyxLQUFLLElBQUk7QUFDNUMsV0FBTyxVQUFVLE1BQU0sSUFBSTtBQUFBLEVBQzdCLFFBQVE7QUFFTixXQUFPLENBQUM7QUFBQSxFQUNWO0FBQ0Y7QUFHTyxTQUFTLGNBQWMsV0FBc0IsT0FBbUM7QUFDckYsUUFBTSxRQUFRLFVBQVUsTUFBTTtBQUM5QixRQUFNLFVBQVUsb0JBQUksSUFBdUI7QUFDM0MsYUFBVyxFQUFFLE1BQU0sS0FBSyxPQUFPO0FBQzdCLGVBQVcsRUFBRSxTQUFTLEtBQUssS0FBSyxPQUFPO0FBRXJDLFVBQUksS0FBTTtBQUNWLGlCQUFXLE9BQU8sU0FBUztBQUN6QixjQUFNLE9BQU8sSUFBSSxRQUFRLFNBQVksSUFBSSxPQUFPLEdBQUcsSUFBSSxJQUFJLElBQUksSUFBSSxHQUFHO0FBQ3RFLFlBQUksQ0FBQyxRQUFRLElBQUksSUFBSSxLQUFLLE1BQU0sT0FBTyxJQUFJLE1BQU0sSUFBSSxHQUFHLE1BQU0sT0FBVyxTQUFRLElBQUksTUFBTSxHQUFHO0FBQUEsTUFDaEc7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNBLFFBQU0sQ0FBQyxLQUFLLElBQUk7QUFDaEIsTUFBSSxDQUFDLE1BQU87QUFDWixRQUFNLFFBQVEsQ0FBQyxHQUFHLFFBQVEsS0FBSyxDQUFDO0FBQ2hDLFFBQU0sSUFBSSxRQUFRLGtCQUFrQjtBQUFBLElBQ2xDLE1BQU0sTUFBTSxXQUFXLElBQUksY0FBYyxNQUFNLENBQUMsQ0FBQyxnQkFBZ0IsZUFBZSxNQUFNLEtBQUssSUFBSSxDQUFDO0FBQUEsSUFDaEcsT0FBTyxNQUFNLENBQUMsRUFBRTtBQUFBLElBQ2hCLFFBQVEsR0FBRyxNQUFNLElBQUksQ0FBQyxTQUFTLHlCQUF5QixRQUFRLEtBQUssSUFBSSxJQUFJLElBQUksSUFBSSxNQUFNLElBQUksRUFBRSxFQUFFLEtBQUssSUFBSSxDQUFDO0FBQUEsSUFDN0csTUFBTSxFQUFFLE1BQU07QUFBQSxFQUNoQixDQUFDO0FBQ0g7OztBQzFFTyxJQUFNLFNBQW1DO0FBQUEsRUFDOUMsTUFBTTtBQUFBLEVBQ04sTUFBTSxDQUFDLFNBQWlDLFlBQVk7QUFBQSxFQUNwRCxNQUFNLEtBQUssRUFBRSxRQUFRLE1BQU0sS0FBSyxHQUFHLEVBQUUsTUFBTSxNQUFNLE1BQU0sR0FBRztBQUN4RCxVQUFNLEtBQUssQ0FBQyxRQUFnQixDQUFDLFVBQzNCLEtBQUssU0FBUyxDQUFDLEdBQUcsTUFBTSxVQUFVLEtBQUssR0FBRyxLQUFLLENBQUM7QUFDbEQsVUFBTSxPQUFPLFlBQVksS0FBSyxNQUFNLEdBQUcsTUFBTSxHQUFHLEtBQUs7QUFDckQsVUFBTSxTQUFTLEtBQUssVUFBVSxTQUFZLFNBQVksWUFBWSxLQUFLLE9BQU8sR0FBRyxPQUFPLEdBQUcsS0FBSztBQUNoRyxVQUFNLFNBQVMsS0FBSyxVQUFVLFNBQVksU0FBWSxZQUFZLEtBQUssT0FBTyxHQUFHLE9BQU8sR0FBRyxLQUFLO0FBQ2hHLFVBQU0sUUFBUSxRQUFRLFVBQVUsS0FBSyxFQUFFO0FBQ3ZDLFdBQU87QUFBQSxNQUNMLE1BQU07QUFBQSxNQUNOO0FBQUEsTUFDQSxTQUFTO0FBQUEsTUFDVCxVQUFVLENBQUM7QUFBQSxNQUNYLE9BQU8sQ0FBQyxLQUFLLEVBQUU7QUFBQSxNQUNmLFNBQVMsVUFBVSxNQUFNLE1BQU0sQ0FBQyxHQUFHLE1BQU0sUUFBUSxDQUFDO0FBQUEsTUFDbEQsTUFBTSxLQUFLLE1BQU07QUFDZixjQUFNLFVBQVUsVUFBVSxNQUFNLFFBQVEsUUFBUSxNQUFNLEtBQUs7QUFDM0QsY0FBTSxRQUFRLEtBQUssVUFBVSxTQUFTLElBQUksS0FBSyxFQUFFO0FBQ2pELGNBQU0sU0FBUyxVQUFVLFNBQVksTUFBTSxJQUFJLEtBQUssSUFBSSxTQUFTLElBQUksSUFBSSxRQUFRLEtBQUssSUFBSSxPQUFPLE9BQU87QUFDeEcsY0FBTSxFQUFFLE9BQU8sT0FBTyxJQUFJO0FBQzFCLGFBQUssTUFBTSxJQUFJLEtBQUssSUFBSSxFQUFFLE9BQU8sUUFBUSxRQUFRLGtCQUFrQixLQUFLLEdBQUcsQ0FBQztBQUM1RSxlQUFPLEVBQUUsTUFBTSxRQUFXLE1BQU0sQ0FBQyxLQUFLLEVBQUUsR0FBRyxVQUFVLENBQUMsR0FBRyxNQUFNLEVBQUUsUUFBUSxPQUFPLE1BQU0sRUFBRTtBQUFBLE1BQzFGO0FBQUEsTUFDQSxTQUFTLE1BQU07QUFBQSxJQUNqQjtBQUFBLEVBQ0Y7QUFDRjtBQUdBLFNBQVMsVUFDUCxNQUNBLFFBQ0EsUUFDQSxFQUFFLFdBQVcsTUFBTSxHQUNuQixPQUNtQjtBQUNuQixRQUFNLE9BQU8sVUFBVSxNQUFNLGVBQWUsV0FBVyxLQUFLLEdBQUcsS0FBSztBQUNwRSxNQUFJLENBQUMsUUFBUSxDQUFDLE1BQU0sUUFBUSxLQUFLLEtBQUssS0FBSyxLQUFLLE1BQU0sV0FBVyxHQUFHO0FBQ2xFLFVBQU0sSUFBSSxRQUFRLGNBQWM7QUFBQSxNQUM5QixNQUFNLEdBQUcsS0FBSztBQUFBLE1BQ2QsT0FBTyxNQUFNLFFBQVEsTUFBTSxLQUFLLElBQUksc0JBQXNCO0FBQUEsSUFDNUQsQ0FBQztBQUFBLEVBQ0g7QUFDQSxTQUFRLEtBQUssTUFBMkIsSUFBSSxDQUFDLFNBQVM7QUFDcEQsVUFBTSxRQUFRLG9CQUFJLElBQUksQ0FBQyxDQUFDLFFBQVEsRUFBRSxPQUFPLE1BQU0sUUFBUSxLQUFLLFFBQVEsUUFBUSxNQUFNLENBQUMsQ0FBQyxDQUFDO0FBQ3JGLFVBQU0sTUFBTSxlQUFlLFdBQVcsSUFBSSxNQUFNLE9BQU8sT0FBTyxLQUFLLENBQUM7QUFDcEUsVUFBTSxRQUFRLFNBQVMsVUFBVSxRQUFRLEtBQUssS0FBSyxJQUFJO0FBQ3ZELFVBQU0sT0FBTyxTQUFTLFVBQVUsUUFBUSxLQUFLLEtBQUssR0FBRyxRQUFRO0FBQzdELFdBQU87QUFBQSxNQUNMLE9BQU8sT0FBTyxRQUFRLElBQUk7QUFBQSxNQUMxQixPQUFPLE9BQU8sU0FBUztBQUFBLE1BQ3ZCLFNBQVMsT0FBTyxVQUFVLEtBQUssWUFBWTtBQUFBLElBQzdDO0FBQUEsRUFDRixDQUFDO0FBQ0g7QUFHQSxlQUFlLElBQUksTUFBYyxTQUE0QixFQUFFLFVBQVUsR0FBMEI7QUFDakcsTUFBSSxDQUFDLFVBQVUsUUFBUTtBQUNyQixVQUFNLElBQUksUUFBUSxpQkFBaUI7QUFBQSxNQUNqQyxNQUFNLDBCQUEwQixJQUFJO0FBQUEsTUFDcEMsUUFBUSxTQUFTLElBQUksK0JBQStCLEtBQUssT0FBTyxDQUFDO0FBQUEsTUFDakUsTUFBTSxFQUFFLE9BQU8sS0FBSztBQUFBLElBQ3RCLENBQUM7QUFBQSxFQUNIO0FBQ0EsU0FBTyxRQUNMLE1BQU0sVUFBVTtBQUFBLElBQ2Q7QUFBQSxJQUNBLFFBQVEsSUFBSSxDQUFDLEVBQUUsTUFBTSxNQUFNLEtBQUs7QUFBQSxFQUNsQyxDQUNGO0FBQ0Y7QUFHQSxTQUFTLFFBQVEsTUFBYyxPQUFlLFNBQW9DO0FBQ2hGLFFBQU0sU0FBUyxNQUFNLEtBQUssRUFBRSxZQUFZO0FBQ3hDLFFBQU0sUUFBUSxRQUFRLE9BQU8sQ0FBQyxFQUFFLE9BQU8sTUFBTSxNQUFNLE9BQU8sS0FBSyxNQUFNLFNBQVMsVUFBVSxLQUFLO0FBQzdGLFFBQU0sUUFDSixNQUFNLFNBQVMsSUFBSSxRQUFRLFFBQVEsT0FBTyxDQUFDLEVBQUUsTUFBTSxNQUFNLFdBQVcsTUFBTSxNQUFNLFlBQVksRUFBRSxTQUFTLE1BQU0sQ0FBQztBQUNoSCxRQUFNLENBQUMsS0FBSyxJQUFJO0FBQ2hCLE1BQUksU0FBUyxNQUFNLFdBQVcsRUFBRyxRQUFPO0FBQ3hDLE1BQUksT0FBTztBQUNULFVBQU0sSUFBSSxRQUFRLGtCQUFrQjtBQUFBLE1BQ2xDLE1BQU0sU0FBUyxJQUFJLElBQUksS0FBSyxTQUFTLE1BQU0sTUFBTSxhQUFhLEtBQUssS0FBSyxDQUFDO0FBQUEsTUFDekUsUUFBUTtBQUFBLE1BQ1IsTUFBTSxFQUFFLE9BQU8sTUFBTSxTQUFTLE1BQU0sSUFBSSxDQUFDLEVBQUUsTUFBTSxNQUFNLEtBQUssRUFBRTtBQUFBLElBQ2hFLENBQUM7QUFBQSxFQUNIO0FBQ0EsUUFBTSxJQUFJLFFBQVEsZUFBZTtBQUFBLElBQy9CLE1BQU0sU0FBUyxJQUFJLElBQUksS0FBSyxpQkFBaUIsUUFBUSxNQUFNO0FBQUEsSUFDM0QsUUFDRTtBQUFBLE1BQ0U7QUFBQSxNQUNBLFFBQVEsSUFBSSxDQUFDLEVBQUUsTUFBTSxNQUFNLEtBQUs7QUFBQSxJQUNsQyxLQUFLLGNBQWMsS0FBSyxPQUFPLENBQUM7QUFBQSxJQUNsQyxNQUFNLEVBQUUsT0FBTyxLQUFLO0FBQUEsRUFDdEIsQ0FBQztBQUNIO0FBRUEsU0FBUyxLQUFLLFNBQW9DO0FBQ2hELFFBQU0sU0FBUyxRQUFRLE1BQU0sR0FBRyxDQUFDLEVBQUUsSUFBSSxDQUFDLEVBQUUsTUFBTSxNQUFNLEtBQUs7QUFDM0QsU0FBTyxHQUFHLE9BQU8sS0FBSyxJQUFJLENBQUMsR0FBRyxRQUFRLFNBQVMsT0FBTyxTQUFTLFNBQVMsUUFBUSxTQUFTLE9BQU8sTUFBTSxVQUFVLEVBQUU7QUFDcEg7OztBQ3BITyxTQUFTLGlCQUFpQixFQUFFLEtBQUssR0FBb0IsS0FBeUIsRUFBRSxNQUFNLEtBQUssR0FBbUI7QUFDbkgsTUFBSSxDQUFDLEtBQUssUUFBUztBQUNuQixRQUFNLElBQUksUUFBUSxjQUFjO0FBQUEsSUFDOUIsTUFBTSxHQUFHLEdBQUcsVUFBVSxLQUFLLElBQUksd0JBQXdCLEtBQUssTUFBTTtBQUFBLElBQ2xFLE9BQU8sS0FBSyxTQUFTLENBQUMsR0FBRyxNQUFNLEdBQUcsQ0FBQztBQUFBLElBQ25DLFFBQ0U7QUFBQSxFQUNKLENBQUM7QUFDSDs7O0FDYU8sSUFBTSxVQUFxQztBQUFBLEVBQ2hELE1BQU07QUFBQSxFQUNOLE1BQU0sQ0FBQyxTQUFrQyxhQUFhO0FBQUEsRUFDdEQsTUFBTSxLQUFLLE1BQU0sTUFBTTtBQUNyQixVQUFNLEVBQUUsTUFBTSxNQUFNLE9BQU8sVUFBVSxJQUFJO0FBQ3pDLFVBQU0sUUFBZ0IsQ0FBQztBQUN2QixlQUFXLENBQUMsT0FBTyxJQUFJLEtBQUssS0FBSyxRQUFRLFFBQVEsRUFBRyxPQUFNLEtBQUssTUFBTSxTQUFTLE1BQU0sT0FBTyxJQUFJLENBQUM7QUFDaEcsVUFBTSxDQUFDLEtBQUssS0FBSyxJQUFJO0FBQ3JCLFVBQU0sUUFBUSxLQUFLLFFBQVEsV0FBVyxJQUFJLEtBQUssU0FBUyxNQUFNLEtBQUs7QUFDbkUsVUFBTSxFQUFFLFVBQVUsTUFBTSxXQUFXLFFBQVEsSUFBSTtBQUMvQyxVQUFNLFFBQVEsS0FBSyxZQUFZLE1BQU0sU0FBWSxTQUFZLFdBQVcsS0FBSyxZQUFZLENBQUM7QUFFMUYsYUFBUyxXQUFXLFVBQXdCO0FBQzFDLFVBQUk7QUFDRixlQUFPLGdCQUFnQixVQUFVLEVBQUUsU0FBUyxFQUFFLFFBQVEsTUFBTSxHQUFHLE9BQU8sVUFBVSxVQUFVLFNBQVMsQ0FBQztBQUFBLE1BQ3RHLFNBQVMsT0FBTztBQUNkLGNBQU0sVUFBVSxLQUFLLEVBQUUsR0FBRyxLQUFLLFNBQVMsQ0FBQyxHQUFHLE1BQU0sWUFBWSxDQUFDLENBQUM7QUFBQSxNQUNsRTtBQUFBLElBQ0Y7QUFFQSxXQUFPO0FBQUEsTUFDTCxNQUFNO0FBQUEsTUFDTjtBQUFBLE1BQ0EsU0FBUztBQUFBLE1BQ1QsVUFBVSxNQUFNLFFBQVEsQ0FBQyxFQUFFLFFBQVEsTUFBTSxXQUFXLENBQUMsQ0FBQztBQUFBLE1BQ3RELFNBQVMsVUFBVSxLQUFLLFNBQVMsTUFBTSxDQUFDLEdBQUcsTUFBTSxTQUFTLENBQUM7QUFBQSxNQUMzRCxNQUFNLEtBQUssTUFBTTtBQUVmLGNBQU0sT0FBTyxNQUFNLElBQUksT0FBTyxJQUFJO0FBQ2xDLGNBQU0sUUFBUSxNQUFNLE1BQU0sT0FBTyxJQUFJO0FBRXJDLFlBQUksQ0FBQyxRQUFRLENBQUMsU0FBUyxLQUFLLFVBQVUsT0FBUSxRQUFPLEVBQUUsTUFBTSxRQUFXLE1BQU0sQ0FBQyxHQUFHLFVBQVUsQ0FBQyxFQUFFO0FBQy9GLGNBQU0sUUFBUSxrQkFBa0IsTUFBTSxPQUFPLEVBQUUsVUFBVSxNQUFNLFVBQVUsQ0FBQztBQUMxRSxjQUFNLEVBQUUsT0FBTyxRQUFRLElBQUksVUFBVSxXQUFXLE9BQU8sT0FBTyxJQUFJLEVBQUUsT0FBTyxPQUFPLFNBQVMsQ0FBQyxFQUFFO0FBQzlGLGNBQU0sV0FBVztBQUFBLFVBQ2YsR0FBRyxRQUFRLElBQUksQ0FBQyxVQUFVLElBQUksUUFBUSxlQUFlLEVBQUUsTUFBTSxHQUFHLEtBQUssb0NBQW9DLENBQUMsQ0FBQztBQUFBLFVBQzNHLEdBQUksTUFBTSxTQUFTLElBQUksQ0FBQyxPQUFPLE9BQU8sSUFBSSxDQUFDLElBQUksQ0FBQztBQUFBLFVBQ2hELEdBQUcsS0FBSyxPQUFPLE1BQU0sS0FBSztBQUFBLFFBQzVCO0FBQ0EsZUFBTyxFQUFFLE1BQU0sUUFBVyxNQUFNLENBQUMsR0FBRyxVQUFVLE1BQU0sRUFBRSxhQUFhLE1BQU0sRUFBRTtBQUFBLE1BQzdFO0FBQUEsTUFDQSxTQUFTLE1BQU07QUFBQSxJQUNqQjtBQUFBLEVBQ0Y7QUFDRjtBQUVBLGVBQWUsU0FBUyxNQUFnQixPQUFlLE1BQStCO0FBQ3BGLFFBQU0sT0FBTyxDQUFDLEdBQUcsS0FBSyxNQUFNLFdBQVcsS0FBSztBQUM1QyxNQUFJLFVBQVUsTUFBTTtBQUNsQixVQUFNLFdBQVcsTUFBTSxLQUFLLFFBQVEsS0FBSyxNQUFNLFNBQVM7QUFDeEQscUJBQWlCLFVBQVUsV0FBVyxJQUFJO0FBQzFDLFVBQU0sUUFBUSxVQUFVLEtBQUssTUFBTSxNQUFNLENBQUMsR0FBRyxNQUFNLE1BQU0sQ0FBQztBQUMxRCxVQUFNLEVBQUUsUUFBUSxJQUFJO0FBQ3BCLFVBQU0sV0FBVyxZQUFZLFNBQVksU0FBWSxZQUFZLFNBQVMsQ0FBQyxJQUFJLENBQUMsT0FBTyxFQUFFLEtBQUs7QUFDOUYsVUFBTSxFQUFFLEtBQUssSUFBSSxTQUFTO0FBQzFCLFdBQU87QUFBQSxNQUNMLE9BQU87QUFBQSxNQUNQLFNBQVM7QUFBQSxNQUNULE1BQU0sT0FBTyxFQUFFLFdBQVcsT0FBTyxRQUFRLElBQUksR0FBRztBQUM5QyxjQUFNLFFBQVEsTUFBTSxPQUFPLFdBQVcsT0FBTyxJQUFJO0FBQ2pELGNBQU0sU0FBUyxlQUFlLFdBQVcsS0FBSyxFQUFFO0FBQ2hELGNBQU0sT0FBTyxNQUFNLFlBQVksV0FBVyxVQUFVLEVBQUUsT0FBTyxRQUFRLFVBQVUsUUFBUSxNQUFNLE1BQU0sSUFBSSxDQUFDO0FBQ3hHLGVBQU8sVUFBVSxTQUFTLFNBQVksU0FBUyxJQUFJO0FBQUEsTUFDckQ7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNBLE1BQUksVUFBVSxNQUFNO0FBQ2xCLFVBQU0sRUFBRSxLQUFLLElBQUk7QUFDakIsV0FBTztBQUFBLE1BQ0wsT0FBTyxRQUFRLElBQUk7QUFBQSxNQUNuQixTQUFTO0FBQUEsTUFDVCxRQUFRLENBQUMsRUFBRSxVQUFVLE1BQU0sU0FBUyxVQUFVLFdBQVcsT0FBTyxJQUFJO0FBQUEsSUFDdEU7QUFBQSxFQUNGO0FBQ0EsTUFBSSxVQUFVLE1BQU07QUFDbEIsVUFBTSxFQUFFLEtBQUssSUFBSTtBQUNqQixXQUFPO0FBQUEsTUFDTCxPQUFPO0FBQUEsTUFDUCxTQUFTO0FBQUEsTUFDVCxRQUFRLE9BQU8sRUFBRSxVQUFVLE1BQU0sU0FBUyxVQUFVLFdBQVcsTUFBTSxJQUFJO0FBQUEsSUFDM0U7QUFBQSxFQUNGO0FBQ0EsUUFBTSxPQUFPLFlBQVksS0FBSyxPQUFPLENBQUMsVUFBVSxLQUFLLEtBQUssU0FBUyxDQUFDLEdBQUcsTUFBTSxTQUFTLEdBQUcsS0FBSyxDQUFDLEdBQUcsS0FBSyxLQUFLO0FBQzVHLFFBQU0sUUFBUSxPQUFPLEtBQUssVUFBVSxXQUFXLEtBQUssTUFBTSxRQUFRLGdCQUFnQixJQUFJLElBQUk7QUFDMUYsU0FBTztBQUFBLElBQ0w7QUFBQSxJQUNBLFNBQVM7QUFBQSxJQUNULE1BQU0sT0FBTyxFQUFFLFdBQVcsTUFBTSxHQUFHO0FBQ2pDLFlBQU0sUUFBUSxVQUFVLE1BQU0sZUFBZSxXQUFXLEtBQUssR0FBRyxLQUFLLEdBQUcsU0FBUztBQUNqRixZQUFNLE9BQU8sT0FBTyxVQUFVLFdBQVcsUUFBUTtBQUNqRCxhQUFPLEVBQUUsUUFBUSxRQUFXLFNBQVMsQ0FBQyxHQUFHLE1BQU0sR0FBSSxPQUFPLFVBQVUsWUFBWSxFQUFFLE1BQU0sRUFBRztBQUFBLElBQzdGO0FBQUEsRUFDRjtBQUNGO0FBR0EsU0FBUyxXQUNQLE9BQ0EsU0FDZ0Y7QUFDaEYsUUFBTSxXQUFXLFFBQVEsSUFBSSxDQUFDLFdBQVcsRUFBRSxPQUFPLFFBQVEsU0FBUyxLQUFLLEVBQUUsRUFBRTtBQUM1RSxTQUFPO0FBQUEsSUFDTCxPQUFPLE1BQU0sT0FBTyxDQUFDLEVBQUUsR0FBRyxNQUFNLENBQUMsU0FBUyxLQUFLLENBQUMsRUFBRSxPQUFPLE1BQU0sT0FBTyxFQUFFLENBQUMsQ0FBQztBQUFBLElBQzFFLFNBQVMsU0FBUyxPQUFPLENBQUMsRUFBRSxPQUFPLE1BQU0sQ0FBQyxNQUFNLEtBQUssQ0FBQyxFQUFFLEdBQUcsTUFBTSxPQUFPLEVBQUUsQ0FBQyxDQUFDLEVBQUUsSUFBSSxDQUFDLEVBQUUsTUFBTSxNQUFNLEtBQUs7QUFBQSxFQUN4RztBQUNGO0FBRUEsU0FBUyxPQUFPLE9BQThCLEVBQUUsVUFBVSxHQUFrQjtBQUMxRSxRQUFNLENBQUMsS0FBSyxJQUFJO0FBQ2hCLFFBQU0sRUFBRSxLQUFLLElBQUksVUFBVTtBQUMzQixRQUFNLEtBQUssU0FBUyxHQUFHLE1BQU0sRUFBRSxLQUFLLEtBQUssVUFBVSxNQUFNLElBQUksQ0FBQyxDQUFDLFNBQVMsS0FBSyxVQUFVLE1BQU0sS0FBSyxDQUFDLENBQUM7QUFDcEcsU0FBTyxJQUFJLFFBQVEsZUFBZTtBQUFBLElBQ2hDLE1BQU0sR0FBRyxNQUFNLE1BQU0sSUFBSSxNQUFNLFdBQVcsSUFBSSxlQUFlLGFBQWE7QUFBQSxJQUMxRSxPQUFPO0FBQUEsRUFDVCxDQUFDO0FBQ0g7QUFFQSxTQUFTLEtBQUssT0FBMEIsTUFBc0IsT0FBa0M7QUFDOUYsTUFBSSxDQUFDLFNBQVMsS0FBSyxTQUFTLFVBQWEsTUFBTSxTQUFTLE9BQVcsUUFBTyxDQUFDO0FBQzNFLFFBQU0sUUFBUSxLQUFLLE1BQU8sTUFBTSxPQUFPLEtBQUssSUFBSSxLQUFLLE1BQU0sSUFBSyxJQUFLLEdBQUcsSUFBSTtBQUM1RSxNQUFJLE1BQU0sS0FBSyxPQUFPLENBQUMsQ0FBQyxNQUFNLE9BQVcsUUFBTyxDQUFDO0FBQ2pELFNBQU87QUFBQSxJQUNMLElBQUksUUFBUSxlQUFlO0FBQUEsTUFDekIsTUFBTSwwQkFBMEIsS0FBSyx5Q0FBeUMsTUFBTSxTQUFTLENBQUM7QUFBQSxNQUM5RixPQUFPLEdBQUcsYUFBYSxLQUFLLElBQUksQ0FBQyxTQUFTLGFBQWEsTUFBTSxJQUFJLENBQUM7QUFBQSxJQUNwRSxDQUFDO0FBQUEsRUFDSDtBQUNGOzs7QUN2SkEsSUFBTSxRQUFzQztBQUFBLEVBQzFDO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFDRjtBQUVPLFNBQVMsT0FBTyxLQUEwQixPQUF5QjtBQUN4RSxTQUFPLE9BQU8sTUFBTSxRQUFRLElBQUksTUFBTSxLQUFLLE1BQU0sUUFBUSxNQUFNLE1BQU0sSUFBSSxNQUFNO0FBQ2pGOzs7QUNQQSxlQUFzQixXQUNwQixPQUNBLFFBQ0EsTUFDQSxRQUM4QjtBQUM5QixNQUFJO0FBQ0osTUFBSSxTQUFTO0FBQ2IsaUJBQWUsU0FBd0I7QUFDckMsV0FBTyxDQUFDLE9BQU8sV0FBVyxDQUFDLE9BQU87QUFDaEMsWUFBTSxPQUFPLE1BQU0sTUFBTSxLQUFLO0FBQzlCLFVBQUksS0FBSyxLQUFNO0FBRWYsZ0JBQVU7QUFDVixZQUFNLEtBQUssS0FBSyxPQUFPLE1BQU07QUFBQSxJQUMvQjtBQUFBLEVBQ0Y7QUFDQSxRQUFNLFVBQVUsTUFDZCxPQUFPLEVBQUUsTUFBTSxDQUFDLFVBQW1CO0FBQ2pDLGNBQVUsVUFBVSxLQUFLO0FBQUEsRUFDM0IsQ0FBQztBQUNILFFBQU0sUUFBUSxJQUFJLE1BQU0sS0FBSyxFQUFFLFFBQVEsT0FBTyxHQUFHLE9BQU8sQ0FBQztBQUN6RCxRQUFNLE1BQU0sU0FBUztBQUNyQixTQUFPO0FBQ1Q7OztBQ0RBLElBQU0sY0FBYztBQUdiLFNBQVMsVUFDZCxNQUNBLE1BQ0EsTUFDQSxPQUNXO0FBQ1gsUUFBTSxRQUFRLG9CQUFJLElBQWtCO0FBQ3BDLFFBQU0sU0FBUyxvQkFBSSxJQUFtQjtBQUN0QyxhQUFXLENBQUMsTUFBTSxJQUFJLEtBQUssT0FBTyxRQUFRLEtBQUssT0FBTyxHQUFHO0FBQ3ZELFVBQU0sUUFBUSxLQUFLLFNBQVMsQ0FBQyxHQUFHLE1BQU0sV0FBVyxJQUFJLENBQUM7QUFDdEQsUUFBSTtBQUNGLFVBQUksS0FBSyxTQUFTLElBQUk7QUFDcEIsY0FBTTtBQUFBLFVBQ0o7QUFBQSxVQUNBLFlBQVksTUFBTSxNQUFNLE9BQU8sS0FBSztBQUFBLFFBQ3RDO0FBQUEsVUFDRyxRQUFPLElBQUksTUFBTSxVQUFVLE1BQU0sS0FBSyxDQUFDO0FBQUEsSUFDOUMsU0FBUyxPQUFPO0FBQ2QsWUFBTSxVQUFVLEtBQUssRUFBRSxHQUFHLEtBQUs7QUFBQSxJQUNqQztBQUFBLEVBQ0Y7QUFDQSxNQUFJO0FBQ0YsUUFBSSxLQUFLLE9BQU8sT0FBVyxpQkFBZ0IsS0FBSyxFQUFFO0FBQUEsRUFDcEQsU0FBUyxPQUFPO0FBQ2QsVUFBTSxVQUFVLEtBQUssRUFBRSxHQUFHLEtBQUssU0FBUyxDQUFDLEdBQUcsTUFBTSxJQUFJLENBQUMsQ0FBQztBQUFBLEVBQzFEO0FBQ0EsU0FBTztBQUFBLElBQ0wsU0FBUyxPQUFPLEtBQUssS0FBSyxPQUFPO0FBQUEsSUFDakM7QUFBQSxJQUNBO0FBQUEsSUFDQSxJQUFJLEtBQUs7QUFBQSxJQUNULElBQUksS0FBSztBQUFBLElBQ1QsTUFBTSxLQUFLLFNBQVMsS0FBSyxPQUFPLFVBQWEsS0FBSyxPQUFPO0FBQUEsRUFDM0Q7QUFDRjtBQUdPLFNBQVMsWUFBWSxFQUFFLE9BQU8sR0FBYyxVQUE4QjtBQUMvRSxRQUFNLFFBQStCLENBQUM7QUFDdEMsYUFBVyxDQUFDLE1BQU0sS0FBSyxLQUFLLFFBQVE7QUFDbEMsUUFBSTtBQUNGLFlBQU0sSUFBSSxJQUFJLE1BQU0sS0FBSyxRQUFRLEtBQUs7QUFBQSxJQUN4QyxRQUFRO0FBRU4sWUFBTSxJQUFJLElBQUk7QUFBQSxJQUNoQjtBQUFBLEVBQ0Y7QUFDQSxTQUFPO0FBQ1Q7QUFHTyxTQUFTLE9BQ2QsTUFDQSxNQUNBLFNBQ3FFO0FBQ3JFLE1BQUk7QUFDRixXQUFPLEVBQUUsT0FBTyxRQUFRLE1BQU0sTUFBTSxPQUFPLEdBQUcsUUFBUTtBQUFBLEVBQ3hELFNBQVMsT0FBTztBQUNkLFVBQU1FLFdBQVUsVUFBVSxLQUFLO0FBQy9CLFdBQU8sRUFBRSxPQUFPLFFBQVEsTUFBTSxNQUFNQSxRQUFPLEdBQUcsU0FBU0EsU0FBUTtBQUFBLEVBQ2pFO0FBQ0Y7QUFHQSxTQUFTLFFBQVEsRUFBRSxTQUFTLE1BQU0sR0FBYyxNQUFZLFFBQXVDO0FBQ2pHLFFBQU0sUUFBK0IsQ0FBQztBQUN0QyxRQUFNLGFBQWEsZUFBZSxLQUFLLFdBQVcsS0FBSyxLQUFLO0FBQzVELGFBQVcsUUFBUSxTQUFTO0FBQzFCLFVBQU0sT0FBTyxNQUFNLElBQUksSUFBSTtBQUMzQixVQUFNLElBQUksSUFBSSxLQUFLLEtBQUssTUFBTSxJQUFJLEtBQUs7QUFDdkMsUUFBSTtBQUNGLFlBQU0sUUFBUSxNQUFNLFNBQVMsVUFBVTtBQUN2QyxVQUFJLFVBQVUsVUFBYSxVQUFVLFFBQVMsT0FBTSxJQUFJLElBQUk7QUFBQSxJQUM5RCxTQUFTLE9BQU87QUFDZCxVQUFJLENBQUMsT0FBUSxPQUFNO0FBQUEsSUFDckI7QUFBQSxFQUNGO0FBQ0EsTUFBSSxPQUFRLE9BQU0sV0FBVyxJQUFJLEtBQUssVUFBVSxTQUFTLEtBQUssT0FBTyxJQUFJO0FBRXpFLFNBQU8sS0FBSyxVQUFVLFNBQVMsT0FBTyxLQUFLO0FBQzdDO0FBYUEsSUFBTSxhQUFhO0FBR25CLGVBQXNCLFVBQVUsTUFBaUIsTUFBOEI7QUFDN0UsUUFBTSxRQUFRLENBQUMsR0FBRyxLQUFLLFNBQVMsV0FBVztBQUMzQyxRQUFNLFNBQVMsS0FBSyxPQUFPLFNBQVksU0FBWSxNQUFNLFlBQVksWUFBWSxNQUFNLEtBQUssRUFBRSxHQUFHLEtBQUs7QUFDdEcsUUFBTSxRQUFRLG9CQUFJLElBQXNCO0FBQ3hDLFFBQU0sUUFBb0IsQ0FBQztBQUMzQixNQUFJLE9BQU87QUFDWCxTQUFPO0FBQUEsSUFDTCxNQUFNLElBQUksUUFBUSxPQUFPO0FBQ3ZCLFlBQU0sSUFBSSxRQUFRLEtBQUs7QUFDdkIsZUFBUyxPQUFPLE1BQU0sSUFBSSxJQUFJLEdBQUcsTUFBTSxPQUFPLE1BQU0sSUFBSSxJQUFJLEdBQUc7QUFDN0QsY0FBTSxPQUFPLElBQUk7QUFDakIsZ0JBQVE7QUFDUixZQUFJLEtBQUssT0FBTyxVQUFhLE1BQU0sU0FBUyxXQUFZLE9BQU0sS0FBSyxJQUFJO0FBQ3ZFLGNBQU0sUUFBUSxJQUFJLElBQUk7QUFBQSxNQUN4QjtBQUFBLElBQ0Y7QUFBQSxJQUNBLE1BQU0sU0FBUztBQUViLGlCQUFXLENBQUMsRUFBRSxJQUFJLEtBQUssQ0FBQyxHQUFHLEtBQUssRUFBRSxLQUFLLENBQUMsQ0FBQyxDQUFDLEdBQUcsQ0FBQyxDQUFDLE1BQU0sSUFBSSxDQUFDLEdBQUc7QUFDM0QsZ0JBQVE7QUFDUixZQUFJLEtBQUssT0FBTyxVQUFhLE1BQU0sU0FBUyxXQUFZLE9BQU0sS0FBSyxJQUFJO0FBQ3ZFLGNBQU0sUUFBUSxJQUFJLElBQUk7QUFBQSxNQUN4QjtBQUNBLFlBQU0sUUFBUSxPQUFPO0FBQ3JCLGFBQU8sRUFBRSxPQUFPLE9BQU8sR0FBRyxNQUFNO0FBQUEsSUFDbEM7QUFBQSxJQUNBLFNBQVMsWUFBWSxRQUFRLFFBQVE7QUFBQSxFQUN2QztBQUNGO0FBR0EsZUFBc0IsWUFDcEIsTUFDQSxPQUNBLE9BQ0EsS0FDcUI7QUFDckIsUUFBTSxFQUFFLE9BQU8sTUFBTSxJQUFJLE1BQU0sTUFBTSxPQUFPO0FBQzVDLFFBQU0sRUFBRSxTQUFTLElBQUksS0FBSyxJQUFJO0FBQzlCLFNBQU8sRUFBRSxPQUFPLFNBQVMsT0FBTyxLQUFLLFNBQVMsT0FBTyxPQUFPLElBQUksS0FBSztBQUN2RTs7O0FDMUlBLGVBQXNCLFlBQVksT0FBb0IsT0FBZSxNQUFzQztBQUN6RyxRQUFNLE9BQU8sQ0FBQyxHQUFHLEtBQUssTUFBTSxVQUFVO0FBQ3RDLFFBQU0sUUFBUSxLQUFLLEtBQUssU0FBUyxJQUFJO0FBQ3JDLE1BQUksT0FBTyxVQUFVLFlBQVksTUFBTSxRQUFRLEtBQUssR0FBRztBQUNyRCxVQUFNLE9BQU8sWUFBWSxPQUFnQixDQUFDLFVBQVUsS0FBSyxLQUFLLFNBQVMsQ0FBQyxHQUFHLE1BQU0sR0FBRyxLQUFLLENBQUMsR0FBRyxLQUFLLEtBQUs7QUFDdkcsV0FBTztBQUFBLE1BQ0wsU0FBUztBQUFBLE1BQ1QsT0FBTyxLQUFLLEVBQUUsV0FBVyxNQUFNLEdBQUc7QUFDaEMsY0FBTSxRQUFRLFVBQVUsTUFBTSxlQUFlLFdBQVcsS0FBSyxHQUFHLFFBQVEsS0FBSyxFQUFFO0FBQy9FLG1CQUFXLFNBQVMsT0FBTyxPQUFPLE9BQU8sS0FBSyxFQUFHLE9BQU0sRUFBRSxPQUFPLFFBQVEsT0FBTyxXQUFXLEtBQUs7QUFBQSxNQUNqRztBQUFBLElBQ0Y7QUFBQSxFQUNGO0FBQ0EsTUFBSSxXQUFXLE9BQU87QUFDcEIsVUFBTSxDQUFDLE1BQU0sRUFBRSxJQUFJLE1BQU07QUFDekIsV0FBTztBQUFBLE1BQ0wsU0FBUztBQUFBLE1BQ1QsT0FBTyxPQUFPO0FBQ1osY0FBTSxPQUFPLFFBQVEsS0FBSyxJQUFJO0FBQzlCLGlCQUFTLFFBQVEsTUFBTSxPQUFPLElBQUksU0FBUyxLQUFLLFNBQVMsSUFBSSxTQUFTLEtBQU0sT0FBTSxFQUFFLE9BQU8sUUFBUSxNQUFNO0FBQUEsTUFDM0c7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNBLE1BQUksVUFBVSxPQUFPO0FBQ25CLGNBQVUsS0FBSyxXQUFXLE1BQU0sTUFBTSxNQUFNLEtBQUssT0FBTyxLQUFLLEtBQUssU0FBUyxDQUFDLEdBQUcsTUFBTSxNQUFNLENBQUMsQ0FBQztBQUM3RixXQUFPO0FBQUEsTUFDTCxTQUFTO0FBQUEsTUFDVCxPQUFPLEtBQUssRUFBRSxVQUFVLEdBQUc7QUFDekIseUJBQWlCLFNBQVMsU0FBUyxVQUFVLFdBQVcsTUFBTSxNQUFNLElBQUksRUFBRyxPQUFNLEVBQUUsT0FBTyxRQUFRLE1BQU07QUFBQSxNQUMxRztBQUFBLElBQ0Y7QUFBQSxFQUNGO0FBQ0EsUUFBTSxXQUFXLE1BQU0sS0FBSyxRQUFRLE1BQU0sT0FBTyxVQUFVO0FBQzNELE1BQUksQ0FBQyxTQUFTLE9BQU87QUFDbkIsVUFBTSxJQUFJLFFBQVEsY0FBYztBQUFBLE1BQzlCLE1BQU0sZUFBZSxTQUFTLEtBQUssSUFBSTtBQUFBLE1BQ3ZDO0FBQUEsTUFDQSxRQUFRO0FBQUEsSUFDVixDQUFDO0FBQUEsRUFDSDtBQUNBLFFBQU0sUUFBUSxVQUFVLE1BQU0sTUFBTSxNQUFNLENBQUMsR0FBRyxNQUFNLE1BQU0sQ0FBQztBQUMzRCxTQUFPO0FBQUEsSUFDTCxTQUFTO0FBQUEsSUFDVCxPQUFPLEtBQUssTUFBTSxNQUFNO0FBQ3RCLFlBQU0sRUFBRSxXQUFXLE9BQU8sUUFBUSxJQUFJLElBQUk7QUFDMUMsWUFBTSxVQUFVO0FBQUEsUUFDZCxPQUFPLE1BQU0sT0FBTyxXQUFXLE9BQU8sS0FBSztBQUFBLFFBQzNDLFFBQVEsZUFBZSxXQUFXLEtBQUssRUFBRTtBQUFBLFFBQ3pDO0FBQUEsUUFDQSxNQUFNO0FBQUEsUUFDTjtBQUFBLE1BQ0Y7QUFDQSx1QkFBaUIsRUFBRSxNQUFNLE9BQU8sTUFBTSxLQUFLLFFBQVEsV0FBVyxVQUFVLE9BQU8sR0FBRztBQUNoRixhQUFLLE9BQU87QUFDWixhQUFLLFFBQVE7QUFDYixZQUFJLEtBQUssU0FBUyxTQUFTLEdBQUc7QUFDNUIsZ0JBQU0sTUFBTSxLQUFLLFNBQVMsT0FBTyxNQUFNO0FBQ3ZDLGdCQUFNLElBQUksUUFBUSxJQUFJLE1BQU07QUFBQSxZQUMxQixNQUFNLEdBQUcsSUFBSSxJQUFJLGNBQWMsTUFBTSxLQUFLLEdBQUcsTUFBTSxVQUFVLFNBQVksS0FBSyxPQUFPLE1BQU0sS0FBSyxFQUFFO0FBQUEsWUFDbEcsT0FBTyxJQUFJO0FBQUEsWUFDWCxRQUFRLElBQUk7QUFBQSxVQUNkLENBQUM7QUFBQSxRQUNIO0FBQ0EsbUJBQVcsU0FBUyxNQUFPLE9BQU0sRUFBRSxPQUFPLFFBQVEsTUFBTTtBQUFBLE1BQzFEO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFDRjtBQUdBLFNBQVMsT0FBTyxPQUEwQixPQUFpQztBQUN6RSxNQUFJLE1BQU0sUUFBUSxLQUFLLEVBQUcsUUFBTztBQUNqQyxNQUFJLFdBQVcsS0FBSyxFQUFHLFFBQU8sT0FBTyxRQUFRLEtBQUssRUFBRSxJQUFJLENBQUMsQ0FBQyxLQUFLLEtBQUssT0FBTyxFQUFFLEtBQUssT0FBTyxNQUFlLEVBQUU7QUFDMUcsUUFBTSxJQUFJLFFBQVEsY0FBYztBQUFBLElBQzlCLE1BQU0sR0FBRyxLQUFLO0FBQUEsSUFDZCxPQUFPLFVBQVUsU0FBWSx5QkFBeUI7QUFBQSxJQUN0RCxRQUFRO0FBQUEsRUFDVixDQUFDO0FBQ0g7OztBQ3ZGTyxJQUFNLFVBQXFDO0FBQUEsRUFDaEQsTUFBTTtBQUFBLEVBQ04sTUFBTSxDQUFDLFNBQWtDLGNBQWM7QUFBQSxFQUN2RCxNQUFNLEtBQUssTUFBTSxNQUFNO0FBQ3JCLFVBQU0sRUFBRSxNQUFNLE1BQU0sTUFBTSxJQUFJO0FBQzlCLFVBQU0sT0FBTyxLQUFLLE1BQU07QUFDeEIsVUFBTSxRQUFRLEtBQUssUUFBUSxZQUFZLElBQUk7QUFDM0MsVUFBTSxVQUFVLE1BQU0sWUFBWSxLQUFLLFVBQVUsR0FBRyxPQUFPLElBQUk7QUFDL0QsVUFBTSxRQUFRLE1BQU0sS0FBSyxNQUFNLEtBQUssT0FBTyxDQUFDLEdBQUcsTUFBTSxPQUFPLENBQUM7QUFDN0QsVUFBTSxRQUFRLEtBQUssU0FBUyxVQUFVLEtBQUssT0FBTyxNQUFNLENBQUMsR0FBRyxNQUFNLE9BQU8sR0FBRyxLQUFLO0FBQ2pGLFVBQU0sV0FBVyxLQUFLLFNBQVMsTUFBTSxTQUFZLFNBQVksUUFBUSxLQUFLLFNBQVMsQ0FBQztBQUNwRixVQUFNLFNBQVMsS0FBSyxTQUFTLEtBQUs7QUFFbEMsYUFBUyxRQUFRLE1BQTRDO0FBQzNELFVBQUk7QUFDRixlQUFPLFVBQVUsTUFBTSxLQUFLO0FBQUEsTUFDOUIsU0FBUyxPQUFPO0FBQ2QsY0FBTSxVQUFVLEtBQUssRUFBRSxHQUFHLEtBQUssU0FBUyxDQUFDLEdBQUcsTUFBTSxTQUFTLENBQUMsQ0FBQztBQUFBLE1BQy9EO0FBQUEsSUFDRjtBQUVBLFdBQU87QUFBQSxNQUNMLE1BQU07QUFBQSxNQUNOO0FBQUEsTUFDQSxTQUFTLE1BQU0sT0FBTyxDQUFDLEtBQUssRUFBRSxRQUFRLE1BQU0sTUFBTSxTQUFTLENBQUM7QUFBQSxNQUM1RCxVQUFVLENBQUMsR0FBSSxRQUFRLFVBQVUsQ0FBQyxRQUFRLE9BQU8sSUFBSSxDQUFDLEdBQUksR0FBRyxNQUFNLFFBQVEsQ0FBQyxFQUFFLFNBQVMsTUFBTSxRQUFRLENBQUM7QUFBQSxNQUN0RyxPQUFPLE1BQU0sUUFBUSxDQUFDLEVBQUUsTUFBTSxNQUFNLFNBQVMsQ0FBQyxDQUFDO0FBQUEsTUFDL0MsU0FBUztBQUFBLFFBQ1AsR0FBRyxVQUFVLEtBQUssVUFBVSxHQUFHLE1BQU0sQ0FBQyxHQUFHLE1BQU0sVUFBVSxDQUFDO0FBQUEsUUFDMUQsR0FBRyxNQUFNLFFBQVEsQ0FBQyxFQUFFLE1BQU0sUUFBUSxNQUFPLE9BQU8sQ0FBQyxJQUFJLE9BQVE7QUFBQSxNQUMvRDtBQUFBLE1BQ0EsTUFBTSxLQUFLLE1BQU0sSUFBeUI7QUFDeEMsY0FBTSxPQUFrQixDQUFDO0FBQ3pCLGNBQU0sU0FBaUIsRUFBRSxJQUFJLEdBQUcsUUFBUSxHQUFHLFFBQVEsR0FBRyxTQUFTLE9BQVU7QUFDekUsY0FBTSxRQUFRLEdBQUcsS0FBSyxPQUFPLEVBQUUsSUFBSSxLQUFLO0FBQ3hDLGNBQU0sVUFBVSxZQUFZLFVBQVUsTUFBTSxLQUFLO0FBRWpELGNBQU0sUUFBUSxLQUFLLFVBQVUsU0FBUyxTQUFZO0FBQ2xELGNBQU0sT0FBTyxTQUFVLE1BQU0sVUFBVSxPQUFPLEtBQUssVUFBVSxXQUFXLElBQUk7QUFDNUUsY0FBTSxPQUFPLE9BQU8sRUFBRSxPQUFPLE9BQU8sR0FBVyxXQUFrQztBQUMvRSxnQkFBTSxNQUFNLFlBQVksTUFBTSxTQUFTLEtBQUssU0FBUyxLQUFLLENBQUMsR0FBRyxTQUFTLElBQUk7QUFDM0UsY0FBSSxRQUFRLFVBQWEsU0FBUyxJQUFJLEdBQUcsR0FBRztBQUMxQyxtQkFBTyxVQUFVO0FBQ2pCO0FBQUEsVUFDRjtBQUNBLGdCQUFNLFFBQVEsSUFBSTtBQUFBLFlBQ2hCLG9CQUFJLElBQUksQ0FBQyxDQUFDLE1BQU0sRUFBRSxPQUFPLFFBQVEsUUFBUSxHQUFHLEtBQUssSUFBSSxNQUFNLEdBQUcsQ0FBQyxDQUFDLENBQUM7QUFBQSxZQUNqRTtBQUFBLFlBQ0EsS0FBSztBQUFBLFVBQ1A7QUFDQSxnQkFBTSxRQUFRO0FBQUEsWUFDWixHQUFHO0FBQUEsWUFDSCxJQUFJLEdBQUcsRUFBRSxJQUFJLE1BQU07QUFBQSxZQUNuQjtBQUFBLFlBQ0EsT0FBTyxLQUFLLFFBQVE7QUFBQSxZQUNwQixRQUFRLEdBQUcsSUFBSSxJQUFJLE1BQU07QUFBQSxZQUN6QixPQUFPO0FBQUEsWUFDUCxNQUFNLEVBQUUsT0FBTyxDQUFDLEVBQUU7QUFBQSxVQUNwQjtBQUNBLGdCQUFNLEVBQUUsU0FBUyxNQUFNLElBQUksTUFBTSxTQUFTLE9BQU8sT0FBTyxLQUFLO0FBQzdELGNBQUksU0FBUyxLQUFNLE9BQU0sS0FBSyxJQUFJLFFBQVEsS0FBSztBQUMvQyxpQkFBTyxVQUFVLFdBQVcsSUFBSSxLQUFLO0FBQ3JDLGNBQUksUUFBUyxRQUFPLFVBQVUsT0FBTyxPQUFPLFNBQVMsT0FBTztBQUFBLG1CQUNuRCxRQUFRLFVBQWEsQ0FBQyxLQUFLLE9BQU8sU0FBUztBQUNsRCxxQkFBUyxJQUFJLEdBQUc7QUFDaEIsaUJBQUssU0FBUyxRQUFRLE9BQU8sR0FBRztBQUFBLFVBQ2xDO0FBQUEsUUFDRjtBQUNBLFlBQUk7QUFDSixZQUFJO0FBQ0Ysa0JBQVEsTUFBTSxXQUFXLFFBQVEsS0FBSyxNQUFNLElBQUksRUFBRSxPQUFPLGFBQWEsRUFBRSxHQUFHLFFBQVEsTUFBTSxLQUFLLE1BQU07QUFBQSxRQUN0RyxTQUFTLE9BQU87QUFDZCxnQkFBTSxNQUFNLFFBQVE7QUFDcEIsZ0JBQU07QUFBQSxRQUNSO0FBQ0EsWUFBSTtBQUNKLFlBQUksS0FBSyxPQUFPLFFBQVMsT0FBTSxNQUFNLFFBQVE7QUFBQSxpQkFDcEMsU0FBUyxLQUFNLFdBQVUsTUFBTSxPQUFPLE9BQU8sTUFBTSxPQUFPLElBQUk7QUFDdkUsY0FBTSxPQUFPLE9BQU8sUUFBUSxNQUFNLEtBQUssT0FBTyxVQUFVLFNBQVksT0FBTyxLQUFLO0FBQ2hGLGVBQU8sVUFBVSxFQUFFLEdBQUcsTUFBTSxPQUFPLFFBQVEsSUFBSTtBQUFBLE1BQ2pEO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFDRjtBQUdBLGVBQWUsU0FDYixPQUNBLE1BQ0EsT0FDMEY7QUFDMUYsUUFBTSxVQUFVLE1BQU0sS0FBSyxNQUFNLE9BQU8sSUFBSTtBQUM1QyxTQUFPLFFBQVEsT0FBTyxPQUFPLE1BQU0sT0FBTyxJQUFJLEVBQUUsU0FBUyxPQUFPLE9BQVU7QUFDNUU7QUFHQSxlQUFlLE9BQU8sTUFBaUIsT0FBYyxPQUFlLE1BQWlDO0FBQ25HLFFBQU0sUUFBUSxNQUFNLFlBQVksTUFBTSxPQUFPLE9BQU8sS0FBSyxHQUFHO0FBQzVELE1BQUksS0FBSyxPQUFPLE9BQVcsTUFBSyxNQUFNLElBQUksS0FBSyxJQUFJLEVBQUUsT0FBTyxNQUFNLE9BQU8sUUFBUSxpQkFBaUIsS0FBSyxHQUFHLENBQUM7QUFDM0csU0FBTztBQUNUO0FBRUEsU0FBUyxPQUNQLEVBQUUsSUFBSSxRQUFRLFFBQVEsUUFBUSxHQUM5QixFQUFFLE1BQU0sTUFBTSxHQUNkLE9BQ0EsT0FDWTtBQUNaLFFBQU0sV0FBc0IsQ0FBQztBQUM3QixNQUFJLE1BQU8sVUFBUyxLQUFLLEtBQUs7QUFDOUIsTUFBSSxTQUFTLEtBQUssU0FBUztBQUN6QixhQUFTLEtBQUssSUFBSSxRQUFRLFFBQVEsTUFBTSxFQUFFLE1BQU0sR0FBRyxNQUFNLE9BQU8sS0FBSyxNQUFNLFdBQVcsT0FBTyxRQUFRLEtBQUssQ0FBQyxDQUFDO0FBQUEsRUFDOUc7QUFDQSxTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0EsTUFBTSxPQUFPLE9BQU8sU0FBWSxDQUFDLElBQUksQ0FBQyxNQUFNLEVBQUU7QUFBQSxJQUM5QztBQUFBLElBQ0EsTUFBTSxFQUFFLFNBQVMsRUFBRSxJQUFJLFFBQVEsT0FBTyxHQUFHLE1BQU07QUFBQSxFQUNqRDtBQUNGO0FBRUEsU0FBUyxVQUFVLEVBQUUsUUFBUSxHQUFTLE9BQTRCO0FBQ2hFLE1BQUksT0FBTyxRQUFRLElBQUksS0FBSztBQUM1QixNQUFJLENBQUMsTUFBTTtBQUNULFdBQU8sb0JBQUksSUFBSTtBQUNmLFlBQVEsSUFBSSxPQUFPLElBQUk7QUFBQSxFQUN6QjtBQUNBLFNBQU87QUFDVDtBQUVBLFNBQVMsTUFBTSxPQUEwQixPQUF1QjtBQUM5RCxNQUFJLFVBQVUsT0FBVyxRQUFPLE9BQU8sS0FBSztBQUM1QyxRQUFNLElBQUksUUFBUSxtQkFBbUI7QUFBQSxJQUNuQyxNQUFNLDBCQUEwQixLQUFLO0FBQUEsSUFDckMsUUFBUTtBQUFBLEVBQ1YsQ0FBQztBQUNIOzs7QUN6SkEsSUFBTSxTQUFTLENBQUMsUUFBUSxTQUFTLFlBQVksUUFBUSxVQUFVLFNBQVM7QUFFakUsSUFBTSxPQUErQjtBQUFBLEVBQzFDLE1BQU07QUFBQSxFQUNOLE1BQU0sQ0FBQyxTQUErQixVQUFVLFFBQVEsQ0FBQyxPQUFPLEtBQUssQ0FBQyxRQUFRLE9BQU8sSUFBSTtBQUFBLEVBQ3pGLE1BQU0sS0FBSyxNQUFNLE1BQU07QUFDckIsVUFBTSxTQUFTLFVBQVUsS0FBSyxNQUFNLE1BQU0sQ0FBQyxHQUFHLEtBQUssTUFBTSxNQUFNLENBQUM7QUFDaEUsVUFBTSxRQUFRLEtBQUssUUFBUSxRQUFRLENBQUMsR0FBRyxPQUFPLEtBQUssQ0FBQyxFQUFFLEtBQUssSUFBSSxDQUFDO0FBQ2hFLFdBQU87QUFBQSxNQUNMLE1BQU07QUFBQSxNQUNOO0FBQUEsTUFDQSxTQUFTO0FBQUEsTUFDVCxVQUFVLENBQUM7QUFBQSxNQUNYLFNBQVMsVUFBVSxLQUFLLE1BQU0sS0FBSyxNQUFNLENBQUMsR0FBRyxLQUFLLE1BQU0sTUFBTSxDQUFDO0FBQUEsTUFDL0QsTUFBTSxLQUFLLEVBQUUsV0FBVyxNQUFNLEdBQUc7QUFDL0IsbUJBQVcsQ0FBQyxNQUFNLElBQUksS0FBSyxRQUFRO0FBRWpDLGdCQUFNLFFBQVEsVUFBVSxNQUFNLGVBQWUsV0FBVyxLQUFLLEdBQUcsZ0JBQWdCLEtBQUssRUFBRTtBQUN2RixjQUFJLE1BQU8sT0FBTSxJQUFJLE1BQU0sS0FBSztBQUFBLFFBQ2xDO0FBQ0EsZUFBTyxFQUFFLE1BQU0sUUFBVyxNQUFNLENBQUMsR0FBRyxPQUFPLEtBQUssQ0FBQyxHQUFHLFVBQVUsQ0FBQyxFQUFFO0FBQUEsTUFDbkU7QUFBQTtBQUFBLE1BRUEsU0FBUyxNQUFNO0FBQUEsSUFDakI7QUFBQSxFQUNGO0FBQ0Y7OztBQ1hBLGVBQXNCLFNBQ3BCLE1BQ0EsU0FDQSxLQUNBLE1BQ21CO0FBQ25CLFFBQU0sRUFBRSxNQUFNLE1BQU0sT0FBTyxVQUFVLElBQUk7QUFDekMsUUFBTSxXQUFXLE1BQU0sS0FBSyxRQUFRLFNBQVMsR0FBRztBQUNoRCxRQUFNLEVBQUUsTUFBTSxTQUFTLFVBQVUsTUFBTSxJQUFJLFNBQVM7QUFDcEQsUUFBTSxRQUFRLEtBQUssUUFBUTtBQUMzQixRQUFNLFFBQWUsVUFBVSxLQUFLLE1BQU0sTUFBTSxDQUFDLEdBQUcsTUFBTSxNQUFNLENBQUM7QUFDakUsUUFBTSxRQUF5QixhQUFhLEtBQUssTUFBTSxNQUFNLENBQUMsR0FBRyxNQUFNLE1BQU0sR0FBRyxPQUFPLFFBQVEsVUFBVTtBQUN6RyxRQUFNLFdBQVcsS0FBSyxZQUFZLFNBQVksU0FBWSxLQUFLLFlBQVksU0FBUyxDQUFDLElBQUksQ0FBQyxLQUFLLE9BQU8sRUFBRSxLQUFLO0FBQzdHLFFBQU0sTUFBTSxVQUFVLFdBQVcsS0FBSyxXQUFXLElBQUk7QUFDckQsU0FBTztBQUFBLElBQ0w7QUFBQSxJQUNBO0FBQUEsSUFDQSxTQUFTO0FBQUEsTUFDUCxHQUFHLFVBQVUsS0FBSyxNQUFNLE1BQU0sQ0FBQyxHQUFHLE1BQU0sTUFBTSxDQUFDO0FBQUEsTUFDL0MsR0FBRyxVQUFVLFdBQVcsS0FBSyxZQUFZLE9BQU8sU0FBUyxRQUFRLElBQUk7QUFBQSxJQUN2RTtBQUFBO0FBQUEsSUFFQSxTQUFTLENBQUMsRUFBRSxXQUFXLElBQUksT0FBTyxRQUFRLEtBQUssV0FBVyxHQUFHQyxVQUFTO0FBQUEsTUFDcEUsT0FBTyxNQUFNLE9BQU8sSUFBSSxPQUFPLEtBQUs7QUFBQTtBQUFBLE1BRXBDLFFBQVEsT0FBTyxNQUFNLGVBQWUsSUFBSSxLQUFLLEVBQUUsS0FBSztBQUFBLE1BQ3BELFVBQVUsZUFBZSxTQUFZLFdBQVcsQ0FBQztBQUFBLE1BQ2pELFdBQVcsZUFBZSxTQUFZLFNBQVksQ0FBQyxVQUFVO0FBQUEsTUFDN0Q7QUFBQSxNQUNBO0FBQUEsTUFDQSxNQUFNO0FBQUEsTUFDTjtBQUFBLE1BQ0EsY0FBY0EsTUFBSyxnQkFBZ0IsQ0FBQztBQUFBLE1BQ3BDLGdCQUFnQkEsTUFBSztBQUFBLE1BQ3JCLFdBQVdBLE1BQUs7QUFBQSxJQUNsQjtBQUFBLElBQ0EsS0FBSyxFQUFFLE1BQU0sR0FBRyxNQUFNO0FBQ3BCLGlCQUFXLEVBQUUsTUFBTSxJQUFJLE9BQU8sUUFBUSxNQUFNLEtBQUs7QUFDL0MsY0FBTSxJQUFJLElBQUksRUFBRSxPQUFPLFFBQVEsUUFBUSxnQkFBZ0IsS0FBSyxTQUFTLEtBQUssR0FBRyxDQUFDO0FBQ2hGLGFBQU8sS0FBSyxJQUFJLENBQUMsUUFBUSxJQUFJLElBQUk7QUFBQSxJQUNuQztBQUFBLEVBQ0Y7QUFDRjs7O0FDL0NBLElBQU0sZUFBZTtBQUVkLElBQU0sT0FBK0I7QUFBQSxFQUMxQyxNQUFNO0FBQUEsRUFDTixNQUFNLENBQUMsU0FBK0IsVUFBVTtBQUFBLEVBQ2hELE1BQU0sS0FBSyxNQUFNLE1BQU07QUFDckIsVUFBTSxFQUFFLE1BQU0sTUFBTSxPQUFPLFVBQVUsSUFBSTtBQUN6QyxVQUFNLE9BQU8sTUFBTSxTQUFTLE1BQU0sS0FBSyxNQUFNLFFBQVEsSUFBSTtBQUN6RCxVQUFNLEVBQUUsVUFBVSxNQUFNLElBQUk7QUFDNUIscUJBQWlCLFVBQVUsUUFBUSxJQUFJO0FBQ3ZDLFVBQU0sRUFBRSxXQUFXLElBQUksU0FBUyxLQUFLO0FBQ3JDLFVBQU0sV0FBVyxDQUFDLFFBQ2hCLG9CQUFvQixLQUFLLEdBQUcsR0FBRyxNQUFNLENBQUMsR0FBRyxNQUFNLEdBQUcsR0FBRyxVQUFVLFVBQVUsT0FBTyxVQUFVO0FBQzVGLFVBQU0sQ0FBQyxPQUFPLE1BQU0sSUFBSSxDQUFDLFNBQVMsT0FBTyxHQUFHLFNBQVMsUUFBUSxDQUFDO0FBQzlELFVBQU0sUUFBUSxjQUFjLEtBQUssU0FBUyxJQUFJO0FBQzlDLFVBQU0sU0FBUyxjQUFjLEtBQUssVUFBVSxLQUFLO0FBQ2pELFVBQU0sU0FBUyxLQUFLLFVBQVU7QUFFOUIsV0FBTztBQUFBLE1BQ0wsTUFBTTtBQUFBLE1BQ047QUFBQSxNQUNBLFNBQVM7QUFBQSxNQUNULFVBQVUsQ0FBQyxRQUFRO0FBQUEsTUFDbkIsU0FBUyxLQUFLO0FBQUEsTUFDZCxNQUFNLEtBQUssTUFBTTtBQUNmLGNBQU0sVUFBVSxZQUFZLElBQUk7QUFDaEMsY0FBTSxPQUFpQixDQUFDO0FBQ3hCLFlBQUksT0FBTztBQUNYLGlCQUFTLFFBQVEsS0FBSyxTQUFTLEdBQUc7QUFDaEMsZ0JBQU0sVUFBVSxLQUFLLFFBQVEsSUFBSTtBQUNqQyxnQkFBTSxPQUFPLE1BQU0sWUFBWSxLQUFLLFdBQVcsVUFBVSxFQUFFLEdBQUcsU0FBUyxjQUFjLE1BQU0sQ0FBQztBQUM1RixnQkFBTSxFQUFFLFNBQVMsSUFBSSxLQUFLO0FBQzFCLGNBQUksU0FBVSxNQUFLLE1BQU0sT0FBTyxRQUFRO0FBQ3hDLGdCQUFNLE9BQU8sRUFBRSxNQUFNLEVBQUUsT0FBTyxRQUFRLEtBQUssRUFBRTtBQUM3QyxjQUFJLEtBQUssU0FBUyxXQUFXLEVBQUcsUUFBTyxFQUFFLE1BQU0sTUFBTSxLQUFLLEtBQUssTUFBTSxLQUFLLElBQUksR0FBRyxVQUFVLENBQUMsR0FBRyxLQUFLO0FBQ3BHLGNBQUksS0FBSyxPQUFPLFFBQVMsUUFBTyxFQUFFLE1BQU0sTUFBTSxDQUFDLEdBQUcsVUFBVSxLQUFLLFVBQVUsS0FBSztBQUNoRixnQkFBTSxRQUFRLFlBQWEsTUFBTSxRQUFRLFFBQVEsVUFBVSxNQUFNLFFBQVEsTUFBTTtBQUMvRSxjQUFJLE1BQU8sUUFBTyxFQUFFLE1BQU0sTUFBTSxDQUFDLEdBQUcsVUFBVSxDQUFDLFNBQVMsUUFBUSxRQUFRLENBQUMsR0FBRyxLQUFLO0FBQ2pGLGdCQUFNLFVBQVUsWUFBWSxJQUFJLElBQUk7QUFDcEMsY0FBSSxVQUFVLE9BQU87QUFDbkIsbUJBQU8sRUFBRSxNQUFNLE1BQU0sQ0FBQyxHQUFHLFVBQVUsQ0FBQyxLQUFLLE1BQU0sT0FBTyxPQUFPLEdBQUcsR0FBRyxLQUFLLFFBQVEsR0FBRyxLQUFLO0FBQzFGLGdCQUFNLE1BQU0sTUFBTSxLQUFLLE1BQU07QUFDN0IsaUJBQU8sS0FBSyxJQUFJLEtBQUssSUFBSSxjQUFjLEtBQUssR0FBRyxPQUFPLE1BQU07QUFBQSxRQUM5RDtBQUFBLE1BQ0Y7QUFBQSxNQUNBLFNBQVMsTUFBTTtBQUFBLElBQ2pCO0FBQUEsRUFDRjtBQUNGO0FBR0EsU0FBUyxLQUFLLE1BQWdCLE9BQStCLFVBQTBCO0FBQ3JGLFFBQU0sU0FBUyxNQUFNLElBQUksQ0FBQyxFQUFFLE1BQU0sTUFBTTtBQUN0QyxRQUFJO0FBQ0YsYUFBTyxVQUFVLE1BQU0sS0FBSyxRQUFRLENBQUM7QUFBQSxJQUN2QyxRQUFRO0FBQ04sYUFBTztBQUFBLElBQ1Q7QUFBQSxFQUNGLENBQUM7QUFDRCxRQUFNLE9BQU8sT0FBTyxLQUFLLElBQUk7QUFDN0IsTUFBSSxLQUFLLEdBQUcsRUFBRSxNQUFNLEtBQU0sTUFBSyxLQUFLLElBQUk7QUFDMUM7QUFFQSxlQUFlLFFBQ2IsUUFDQSxVQUNBLEVBQUUsVUFBVSxHQUNaLE9BQ2tCO0FBQ2xCLE1BQUksT0FBTyxXQUFXLEVBQUcsUUFBTztBQUNoQyxRQUFNLGVBQWUsRUFBRSxPQUFPLFVBQVUsTUFBTSxHQUFHLFVBQVUsVUFBVSxTQUFTLElBQUk7QUFDbEYsUUFBTSxXQUFXLE1BQU0sTUFBTSxRQUFRLFVBQVUsSUFBSSxXQUFXLE9BQU8sWUFBWSxHQUFHLEVBQUUsWUFBWSxNQUFNLE9BQVUsQ0FBQztBQUNuSCxTQUFPLFNBQVMsTUFBTSxDQUFDLEVBQUUsR0FBRyxNQUFNLEVBQUU7QUFDdEM7QUFFQSxTQUFTLFNBQVMsUUFBZ0MsVUFBNkI7QUFDN0UsUUFBTSxRQUFRLE9BQU8sSUFBSSxDQUFDLEVBQUUsTUFBTSxNQUFNLEdBQUcsTUFBTSxJQUFJLE9BQU8sVUFBVSxNQUFNLEtBQUssUUFBUSxDQUFDLENBQUMsRUFBRTtBQUM3RixTQUFPLElBQUksUUFBUSxlQUFlLEVBQUUsTUFBTSxxQkFBcUIsTUFBTSxLQUFLLElBQUksQ0FBQyxHQUFHLENBQUM7QUFDckY7QUFFQSxJQUFNLE9BQU8sQ0FBQyxFQUFFLFNBQVMsRUFBRSxTQUFTLEVBQUUsR0FBUyxPQUFlLFlBQzVELElBQUksUUFBUSxlQUFlO0FBQUEsRUFDekIsTUFBTSx3QkFBd0IsYUFBYSxPQUFPLENBQUMsV0FBVyxLQUFLLElBQUksVUFBVSxJQUFJLFNBQVMsT0FBTztBQUFBLEVBQ3JHLFFBQVEsV0FBVyxrQ0FBa0M7QUFDdkQsQ0FBQzs7O0FDNUZILGVBQXNCLFNBQ3BCLE1BQ0EsTUFDQSxNQUMyQztBQUMzQyxRQUFNLFdBQVcsTUFBTSxLQUFLLFFBQVEsS0FBSyxNQUFNLE1BQU07QUFDckQsUUFBTSxFQUFFLE1BQU0sUUFBUSxJQUFJLFNBQVM7QUFDbkMsUUFBTSxRQUFRLFVBQVUsS0FBSyxNQUFNLE1BQU0sQ0FBQyxHQUFHLEtBQUssTUFBTSxRQUFRLE1BQU0sQ0FBQztBQUN2RSxRQUFNLFNBQVMsU0FBUyxLQUFLLE9BQU8sSUFBSSxDQUFDLEVBQUUsS0FBSyxNQUFNLElBQUk7QUFDMUQsU0FBTyxDQUFDLE1BQU0sT0FBTztBQUNuQixVQUFNLEVBQUUsV0FBVyxLQUFLLFFBQVEsSUFBSTtBQUNwQyxRQUFJLFNBQVMsYUFBYSxFQUFFLEVBQUc7QUFDL0IsVUFBTSxRQUFRLEtBQUssTUFBTSxTQUFTO0FBQ2xDLFFBQUksV0FBVyxDQUFDLFFBQVEsWUFBWSxFQUFFLEdBQUc7QUFDdkMsWUFBTSxRQUFRLE1BQU0sT0FBTyxXQUFXLE9BQU8sT0FBTztBQUNwRCxZQUFNLFFBQVEsUUFBUSxRQUFRLENBQUMsU0FBUyxRQUFRLE1BQU0sTUFBTSxJQUFJLENBQUMsQ0FBQztBQUNsRSxZQUFNLFFBQVEsUUFBUSxVQUFVLGNBQWMsQ0FBQyxTQUFTLE1BQU0sT0FBTyxJQUFJLENBQUM7QUFDMUUsY0FBUSxNQUFNLEVBQUUsSUFBSSxNQUFNLFNBQVMsS0FBSyxPQUFPLE1BQU0sQ0FBQztBQUFBLElBQ3hEO0FBQ0EsU0FBSyxLQUFLLEtBQUs7QUFBQSxNQUNiO0FBQUEsTUFDQTtBQUFBLE1BQ0EsT0FBTztBQUFBLE1BQ1AsTUFBTSxJQUFJLFFBQVE7QUFDaEIsY0FBTSxPQUFPLE1BQU0sWUFBWSxXQUFXLFVBQVU7QUFBQSxVQUNsRCxPQUFPLE1BQU0sT0FBTyxXQUFXLE9BQU8sT0FBTztBQUFBLFVBQzdDLFFBQVEsZUFBZSxXQUFXLEtBQUssRUFBRTtBQUFBLFVBQ3pDO0FBQUEsVUFDQSxNQUFNLFdBQVcsSUFBSTtBQUFBLFVBQ3JCO0FBQUEsUUFDRixDQUFDO0FBQ0QsZUFBTyxFQUFFLE1BQU0sTUFBTSxDQUFDLEdBQUcsVUFBVSxLQUFLLFNBQVM7QUFBQSxNQUNuRDtBQUFBLElBQ0YsQ0FBQztBQUFBLEVBQ0g7QUFDRjtBQUdBLFNBQVMsUUFBVyxNQUE4QjtBQUNoRCxNQUFJO0FBQ0YsV0FBTyxLQUFLO0FBQUEsRUFDZCxRQUFRO0FBQ04sV0FBTztBQUFBLEVBQ1Q7QUFDRjs7O0FDdENPLElBQU0sT0FBK0I7QUFBQSxFQUMxQyxNQUFNO0FBQUEsRUFDTixNQUFNLENBQUMsU0FBK0IsVUFBVTtBQUFBLEVBQ2hELE1BQU0sS0FBSyxNQUFNLE1BQU07QUFDckIsVUFBTSxFQUFFLE1BQU0sTUFBTSxPQUFPLFVBQVUsSUFBSTtBQUN6QyxVQUFNLE9BQU8sTUFBTSxTQUFTLE1BQU0sS0FBSyxNQUFNLFFBQVEsSUFBSTtBQUN6RCxVQUFNLEVBQUUsVUFBVSxNQUFNLElBQUk7QUFDNUIsVUFBTSxFQUFFLFdBQVcsSUFBSSxTQUFTLEtBQUs7QUFDckMsVUFBTSxlQUFlO0FBQUEsTUFDbkIsS0FBSztBQUFBLE1BQ0w7QUFBQSxNQUNBLENBQUMsR0FBRyxNQUFNLFFBQVE7QUFBQSxNQUNsQixVQUFVO0FBQUEsTUFDVjtBQUFBLE1BQ0E7QUFBQSxJQUNGO0FBQ0EsVUFBTSxPQUFPLEtBQUssUUFBUyxNQUFNLFNBQVMsS0FBSyxNQUFNLE9BQU8sSUFBSTtBQUVoRSxXQUFPO0FBQUEsTUFDTCxNQUFNO0FBQUEsTUFDTjtBQUFBLE1BQ0EsU0FBUyxTQUFTLEtBQUssVUFBVSxJQUFJO0FBQUEsTUFDckMsVUFBVSxDQUFDLFFBQVE7QUFBQSxNQUNuQixTQUFTLEtBQUs7QUFBQSxNQUNkLE1BQU0sS0FBSyxNQUFNLElBQUk7QUFDbkIsY0FBTSxTQUFTLEtBQUssU0FBUyxNQUFNLEVBQUU7QUFDckMsY0FBTSxFQUFFLFFBQVEsUUFBUSxJQUFJLFNBQVM7QUFDckMsWUFBSSxRQUFRLFVBQVUsZUFBZSxDQUFDLGFBQWEsRUFBRSxRQUFRLFNBQVMsZ0JBQWdCLE9BQU8sSUFBSSxDQUFDLEdBQUc7QUFFbkcsZUFBSyxNQUFNLE9BQU8sSUFBSTtBQUN0QixnQkFBTSxJQUFJLFFBQVEsWUFBWTtBQUFBLFlBQzVCLE1BQU0sR0FBRyxPQUFPLElBQUk7QUFBQSxZQUNwQixRQUFRO0FBQUEsVUFDVixDQUFDO0FBQUEsUUFDSDtBQUNBLFlBQUksT0FBTztBQUNYLFlBQUk7QUFDRixnQkFBTSxVQUFVLEtBQUssUUFBUSxNQUFNO0FBQUEsWUFDakM7QUFBQSxZQUNBLGdCQUFnQixRQUFRO0FBQUEsWUFDeEIsV0FBVyxDQUFDLEVBQUUsU0FBQUMsVUFBUyxlQUFlLEdBQUcsU0FBUztBQUVoRCxvQkFBTSxRQUFRLENBQUM7QUFDZixxQkFBTztBQUNQLHFCQUFPLFNBQVNBLFdBQVUsS0FBSyxTQUFTLFFBQVEsSUFBSSxLQUFLLEtBQUssS0FBSyxHQUFHLGNBQWMsSUFBSTtBQUFBLFlBQzFGO0FBQUEsVUFDRixDQUFDO0FBQ0QsZ0JBQU0sUUFBUSxTQUFTLFNBQVUsTUFBTSxTQUFTLFVBQVUsU0FBUyxJQUFJO0FBQ3ZFLGdCQUFNLE9BQU8sT0FBTyxRQUFTLE1BQU0sWUFBWSxLQUFLLFdBQVcsVUFBVSxPQUFPO0FBQ2hGLGdCQUFNLFFBQVEsS0FBSyxLQUFLLE1BQU0sT0FBTyxRQUFRLEtBQUssSUFBSTtBQUN0RCxjQUFJLEtBQUssSUFBSTtBQUNYLGlCQUFLLE1BQU0sR0FBRyxLQUFLLEtBQUssTUFBTSxJQUFJLEtBQUssVUFBVSxTQUFTLEtBQUssS0FBSyxLQUFLLFFBQVEsQ0FBQyxVQUFVLEtBQUssSUFBSSxHQUFHO0FBQzFHLGNBQUksUUFBUSxDQUFDLFFBQVEsSUFBSSxFQUFHLE1BQUssTUFBTSxFQUFFO0FBQ3pDLGlCQUFPLEVBQUUsTUFBTSxNQUFNLE9BQU8sVUFBVSxLQUFLLFVBQVUsTUFBTSxTQUFTLEVBQUUsT0FBTyxNQUFNLE1BQU0sRUFBRTtBQUFBLFFBQzdGLFNBQVMsT0FBTztBQUNkLGNBQUksUUFBUSxLQUFNLE1BQUssTUFBTSxFQUFFO0FBQy9CLGdCQUFNO0FBQUEsUUFDUjtBQUFBLE1BQ0Y7QUFBQSxNQUNBLFFBQVEsTUFBTSxJQUFJO0FBQ2hCLGVBQU8sTUFBTSxFQUFFO0FBQUEsTUFDakI7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNGO0FBR0EsZUFBZSxTQUNiLFVBQ0EsU0FDQSxFQUFFLFVBQVUsR0FDaUY7QUFDN0YsTUFBSSxPQUFPLG9CQUFJLElBQWtCO0FBQ2pDLG1CQUFpQixRQUFRLFFBQVEsV0FBVyxVQUFVLE9BQU8sR0FBRztBQUM5RCxXQUFPLFNBQVMsTUFBTSxLQUFLLEtBQUssSUFBSTtBQUNwQyxRQUFJLEtBQUssS0FBTSxRQUFPLEVBQUUsTUFBTSxLQUFLLE1BQU0sTUFBTSxDQUFDLEdBQUcsS0FBSyxPQUFPLENBQUMsR0FBRyxPQUFPLEtBQUssTUFBTTtBQUFBLEVBQ3ZGO0FBQ0EsUUFBTSxJQUFJLFFBQVEsU0FBUyxFQUFFLE1BQU0saUNBQWlDLENBQUM7QUFDdkU7QUFHQSxTQUFTLFFBQVEsRUFBRSxTQUFTLEVBQUUsVUFBVSxRQUFRLEVBQUUsR0FBa0I7QUFDbEUsU0FBTyxhQUFhLFVBQWEsWUFBWSxVQUFhLFNBQVMsVUFBVSxPQUFPLFNBQVMsU0FBUztBQUN4RztBQUdBLFNBQVMsS0FBSyxFQUFFLFNBQVMsU0FBUyxFQUFFLFVBQVUsUUFBUSxFQUFFLEdBQWtCO0FBQ3hFLFNBQU8sUUFBUSxXQUFXLGFBQWEsVUFBYSxZQUFZLFVBQWEsQ0FBQyxVQUFVLElBQUksUUFBUSxJQUFJO0FBQzFHO0FBRUEsSUFBTSxZQUFZLG9CQUFJLElBQXFCLENBQUMsZUFBZSxzQkFBc0Isc0JBQXNCLFlBQVksQ0FBQzs7O0FDakc3RyxJQUFNLFFBQWlDO0FBQUEsRUFDNUMsTUFBTTtBQUFBLEVBQ04sTUFBTSxDQUFDLFNBQWdDLFdBQVc7QUFBQSxFQUNsRCxNQUFNLEtBQUssTUFBTSxNQUFNO0FBQ3JCLFVBQU0sT0FBTyxNQUFNLEtBQUssTUFBTSxLQUFLLE9BQU8sT0FBTztBQUNqRCxVQUFNLFFBQVEsS0FBSyxRQUFRLEtBQUs7QUFDaEMsVUFBTSxRQUFRLFVBQVUsS0FBSyxNQUFNLE1BQU0sQ0FBQyxHQUFHLEtBQUssTUFBTSxNQUFNLENBQUM7QUFDL0QsVUFBTSxRQUFRLFVBQVUsS0FBSyxNQUFNLE1BQU0sQ0FBQyxHQUFHLEtBQUssTUFBTSxNQUFNLENBQUM7QUFDL0QsV0FBTztBQUFBLE1BQ0wsTUFBTTtBQUFBLE1BQ047QUFBQSxNQUNBLFNBQVMsS0FBSyxNQUFNLE9BQU8sQ0FBQyxLQUFLLEVBQUUsUUFBUSxNQUFNLE1BQU0sU0FBUyxDQUFDO0FBQUEsTUFDakUsVUFBVSxLQUFLLE1BQU0sUUFBUSxDQUFDLEVBQUUsU0FBUyxNQUFNLFFBQVE7QUFBQSxNQUN2RCxPQUFPLEtBQUssTUFBTSxRQUFRLENBQUMsRUFBRSxNQUFNLE1BQU0sU0FBUyxDQUFDLENBQUM7QUFBQSxNQUNwRCxTQUFTO0FBQUEsUUFDUCxHQUFHLFVBQVUsS0FBSyxNQUFNLEtBQUssTUFBTSxDQUFDLEdBQUcsS0FBSyxNQUFNLE1BQU0sQ0FBQztBQUFBLFFBQ3pELEdBQUcsS0FBSyxNQUFNLFFBQVEsQ0FBQyxFQUFFLE1BQU0sUUFBUSxNQUFPLE9BQU8sQ0FBQyxJQUFJLE9BQVE7QUFBQSxNQUNwRTtBQUFBLE1BQ0EsTUFBTSxLQUFLLE1BQU0sSUFBSTtBQUNuQixjQUFNLEVBQUUsVUFBVSxJQUFJO0FBQ3RCLGNBQU0sUUFBUSxXQUFXLE1BQU0sV0FBVyxNQUFNLE9BQU8sV0FBVyxLQUFLLE9BQU8sS0FBSyxDQUFDO0FBQ3BGLGNBQU0sVUFBVSxNQUFNLEtBQUssTUFBTSxLQUFLLE9BQU8sRUFBRSxHQUFHLE1BQU0sSUFBSSxPQUFPLE9BQU8sT0FBTyxLQUFLLFFBQVEsRUFBRSxDQUFDO0FBQ2pHLFlBQUksUUFBUyxRQUFPLEVBQUUsTUFBTSxRQUFXLE1BQU0sQ0FBQyxHQUFHLFVBQVUsQ0FBQyxPQUFPLEVBQUU7QUFDckUsbUJBQVcsQ0FBQyxNQUFNLElBQUksS0FBSyxPQUFPO0FBQ2hDLGdCQUFNLFFBQVEsVUFBVSxNQUFNLGVBQWUsV0FBVyxLQUFLLEdBQUcsZ0JBQWdCLEtBQUssRUFBRTtBQUN2RixjQUFJLE1BQU8sTUFBSyxNQUFNLElBQUksTUFBTSxLQUFLO0FBQUEsUUFDdkM7QUFDQSxlQUFPLEVBQUUsTUFBTSxRQUFXLE1BQU0sQ0FBQyxHQUFHLE1BQU0sS0FBSyxDQUFDLEdBQUcsVUFBVSxDQUFDLEVBQUU7QUFBQSxNQUNsRTtBQUFBLElBQ0Y7QUFBQSxFQUNGO0FBQ0Y7OztBQzVCTyxJQUFNLFlBQWlDO0FBQUEsRUFDNUM7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFDRjs7O0FDUUEsZUFBc0IsVUFDcEIsV0FDQSxPQUNBLFNBQXFCLENBQUMsR0FDdEIsUUFBMkIsQ0FBQyxHQUNSO0FBQ3BCLFFBQU0sRUFBRSxXQUFXLElBQUk7QUFDdkIsUUFBTSxFQUFFLE1BQU0sU0FBUyxLQUFLLElBQUksV0FBVyxLQUFLLFNBQVMsS0FBSztBQUM5RCxNQUFJLE1BQU0sU0FBUyxJQUFJLEdBQUc7QUFDeEIsVUFBTSxJQUFJLFFBQVEsVUFBVTtBQUFBLE1BQzFCLE1BQU0sY0FBYyxDQUFDLEdBQUcsT0FBTyxJQUFJLEVBQUUsS0FBSyxJQUFJLENBQUM7QUFBQSxNQUMvQyxPQUFPLEVBQUUsTUFBTSxLQUFLLEtBQUs7QUFBQSxJQUMzQixDQUFDO0FBQUEsRUFDSDtBQUNBLFFBQU0sUUFBZSxDQUFDO0FBQ3RCLFFBQU0sUUFBUSxDQUFDLEtBQUssSUFBSTtBQUN4QixRQUFNLFNBQVMsT0FBVSxNQUFvQyxTQUF1QztBQUNsRyxRQUFJO0FBQ0YsYUFBTyxNQUFNLEtBQUs7QUFBQSxJQUNwQixTQUFTLE9BQU87QUFDZCxZQUFNLFVBQVUsS0FBSyxFQUFFLEdBQUcsS0FBSyxTQUFTLElBQUksQ0FBQztBQUFBLElBQy9DO0FBQUEsRUFDRjtBQUNBLFFBQU0sWUFBWSxPQUNoQixPQUNBLFNBQ29DO0FBQ3BDLFVBQU1DLFNBQXVCLENBQUM7QUFDOUIsZUFBVyxDQUFDLE9BQU8sSUFBSSxLQUFLLE1BQU0sUUFBUSxHQUFHO0FBQzNDLFlBQU0sS0FBSyxDQUFDLEdBQUcsTUFBTSxLQUFLO0FBQzFCLFlBQU0sT0FBaUI7QUFBQSxRQUNyQjtBQUFBLFFBQ0E7QUFBQSxRQUNBO0FBQUEsUUFDQSxNQUFNO0FBQUEsUUFDTjtBQUFBLFFBQ0EsU0FBUyxDQUFDLFNBQVMsUUFBUSxPQUFPLENBQUMsR0FBRyxJQUFJLEdBQUcsR0FBRyxZQUFZLFVBQVUsUUFBUSxPQUFPLENBQUM7QUFBQSxRQUN0RixPQUFPLENBQUNDLFFBQU8sUUFDYixPQUFPLENBQUMsR0FBRyxJQUFJLEdBQUcsR0FBRyxZQUFZO0FBQy9CLGdCQUFNLFFBQVEsTUFBTSxVQUFVLFdBQVdBLFFBQU8sQ0FBQyxHQUFHLENBQUMsR0FBRyxPQUFPLElBQUksQ0FBQztBQUNwRSxnQkFBTSxLQUFLLE1BQU0sSUFBSTtBQUNyQixpQkFBTztBQUFBLFFBQ1QsQ0FBQztBQUFBLFFBQ0gsT0FBTztBQUFBLE1BQ1Q7QUFDQSxNQUFBRCxPQUFNLEtBQUssTUFBTSxTQUFTLE1BQU0sSUFBSSxDQUFDO0FBQUEsSUFDdkM7QUFDQSxXQUFPQTtBQUFBLEVBQ1Q7QUFDQSxRQUFNLFFBQVEsTUFBTSxVQUFVLFFBQVEsT0FBTyxDQUFDLE9BQU8sQ0FBQztBQUN0RCxRQUFNLE9BQWtCO0FBQUEsSUFDdEI7QUFBQSxJQUNBO0FBQUEsSUFDQSxPQUFPLENBQUMsR0FBRyxPQUFPLEtBQUssUUFBUSxVQUFVLENBQUMsQ0FBQyxHQUFHLEdBQUcsTUFBTSxRQUFRLENBQUMsRUFBRSxNQUFNLE1BQU0sU0FBUyxDQUFDLENBQUMsQ0FBQztBQUFBLElBQzFGLFFBQVEsV0FBVyxRQUFRLFFBQVEsRUFBRSxLQUFLLEdBQUcsU0FBUyxJQUFJLElBQUksS0FBSztBQUFBLElBQ25FLE1BQU0sT0FBTyxTQUFTLFFBQVEsTUFBTSxPQUFPLFNBQVM7QUFBQSxJQUNwRCxRQUFRLE9BQU8sVUFBVSxRQUFRLFNBQVMsS0FBSztBQUFBLElBQy9DLE1BQU0sUUFBUSxRQUFRO0FBQUEsSUFDdEIsT0FBTyxRQUFRLFNBQVMsVUFBVSxRQUFRLE9BQU8sTUFBTSxDQUFDLE9BQU8sR0FBRyxLQUFLO0FBQUEsSUFDdkUsTUFBTSxNQUFNLEtBQUssSUFBSTtBQUFBLEVBQ3ZCO0FBQ0EsUUFBTSxRQUFRLElBQUksS0FBSztBQUN2QixTQUFPO0FBQ1Q7QUFFQSxTQUFTLE9BQ1AsRUFBRSxLQUFLLEdBQ1AsUUFDQSxNQUNBLE9BQ0EsV0FDbUI7QUFDbkIsTUFBSSxPQUFPLFNBQVMsT0FBVyxRQUFPLFNBQVMsT0FBTyxNQUFNLE1BQU0sT0FBTyxTQUFTO0FBQ2xGLFNBQU8sU0FBUyxTQUFZLFNBQVksU0FBUyxNQUEwQixNQUFNLE9BQU8sU0FBUztBQUNuRztBQUVBLGVBQWUsU0FBUyxNQUFnQixNQUFzQztBQUM1RSxRQUFNLEVBQUUsTUFBTSxPQUFPLFdBQVcsS0FBSyxJQUFJO0FBQ3pDLFFBQU0sT0FBTyxVQUFVLEtBQUssQ0FBQyxRQUFRLElBQUksS0FBSyxJQUFJLENBQUM7QUFDbkQsTUFBSSxDQUFDLEtBQU0sT0FBTSxJQUFJLFFBQVEsY0FBYyxFQUFFLE1BQU0sZ0NBQWdDLE9BQU8sS0FBSyxTQUFTLElBQUksRUFBRSxDQUFDO0FBQy9HLFFBQU0sVUFBVSxNQUFNLEtBQUssS0FBSyxNQUFNLElBQUk7QUFDMUMsUUFBTSxFQUFFLFNBQVMsSUFBSTtBQUNyQixRQUFNLE9BQU8sS0FBSyxRQUFRLGlCQUFpQixLQUFLLE1BQU0sQ0FBQyxHQUFHLE1BQU0sTUFBTSxHQUFHLEVBQUUsTUFBTSxPQUFPLFNBQVMsQ0FBQztBQUNsRyxTQUFPLEVBQUUsR0FBRyxTQUFTLEtBQUs7QUFDNUI7QUFHQSxlQUFzQixlQUNwQixXQUNBLFVBQ0EsU0FBcUIsQ0FBQyxHQUNGO0FBQ3BCLFFBQU0sRUFBRSxNQUFNLEtBQUssSUFBSSxTQUFTO0FBQ2hDLFFBQU0sUUFBZSxDQUFDO0FBQ3RCLFFBQU0sZ0JBQWdCLE1BQ3BCLFFBQVEsT0FBTyxJQUFJLFFBQVEsVUFBVSxFQUFFLE1BQU0seUNBQXlDLENBQUMsQ0FBQztBQUMxRixRQUFNLE9BQWlCO0FBQUEsSUFDckI7QUFBQSxJQUNBLFlBQVksVUFBVTtBQUFBLElBQ3RCO0FBQUEsSUFDQSxNQUFNLENBQUM7QUFBQSxJQUNQO0FBQUEsSUFDQSxTQUFTLFlBQVk7QUFBQSxJQUNyQixPQUFPO0FBQUEsSUFDUCxPQUFPO0FBQUEsRUFDVDtBQUNBLFFBQU0sT0FBTyxNQUFNLEtBQUssS0FBSyxFQUFFLE1BQU0sS0FBSyxHQUFHLElBQUk7QUFDakQsUUFBTSxPQUFPLE9BQU8sU0FBUyxTQUFZLFNBQVksU0FBUyxPQUFPLE1BQU0sTUFBTSxPQUFPLFNBQVM7QUFDakcsUUFBTSxRQUFRLElBQUksS0FBSztBQUN2QixTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0EsT0FBTyxDQUFDLEVBQUUsR0FBRyxNQUFNLE1BQU0sT0FBVSxDQUFDO0FBQUEsSUFDcEMsT0FBTyxTQUFTLEtBQUssT0FBTyxJQUFJLENBQUMsVUFBVSxNQUFNLElBQUk7QUFBQTtBQUFBLElBRXJELFFBQVEsU0FBUyxLQUFLLE9BQU8sT0FBTyxDQUFDLFVBQVUsVUFBVSxTQUFTLElBQUksTUFBTSxJQUFJLENBQUM7QUFBQSxJQUNqRjtBQUFBLElBQ0EsUUFBUSxPQUFPLFVBQVU7QUFBQSxJQUN6QixNQUFNO0FBQUEsSUFDTixPQUFPO0FBQUEsSUFDUCxNQUFNLEtBQUs7QUFBQSxFQUNiO0FBQ0Y7IiwKICAibmFtZXMiOiBbInBhcnRzIiwgImxvYWQiLCAiY3JlYXRlUmVhZFN0cmVhbSIsICJjc3YiLCAiY3JlYXRlUmVhZFN0cmVhbSIsICJ1bmtub3duIiwgIm93biIsICJjaGFuZ2VzIiwgInN0ZXBzIiwgInRyYWlsIl0KfQo=
