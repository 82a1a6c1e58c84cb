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
} from "./chunk-EXCDNUU7.js";
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
    try {
      for await (const columns of parser) yield columns;
    } catch (error) {
      if (error instanceof Problem) throw error;
      const { message, lines } = error;
      throw new Problem(
        "data-shape",
        { what: `${file} is not well-formed CSV`, where: { file, line: lines }, cause: message },
        { cause: error }
      );
    }
  }
};

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
    return { from: "standard input", read: () => numbered(streamRows(standardInput())), about: unknown };
  }
  if (typeof given === "string" && !given.includes("${")) {
    readyRows(root, given, loads, yaml.position(["rows"]));
    return {
      from: given,
      read: () => numbered(fileRows(root, given)),
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
      if (value !== omitted && Array.isArray(value)) return numbered(asRows(value));
      throw new Problem("data-shape", { what: "rows must be a list, and the expression gives none", where });
    }
  };
}
var unknown = async () => void 0;
async function* asRows(items) {
  for (const item of items) yield isValueMap(item) ? item : { value: item };
}
async function* numbered(rows) {
  let number = 0;
  for await (const columns of rows) {
    number += 1;
    yield { number, columns };
  }
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
  async function worker() {
    while (!signal.aborted && !fault) {
      const next = await items.next();
      if (next.done) return;
      await work(next.value);
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
        const work = async ({ number, value, secret }) => {
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
          ended = await manyAtOnce(numbered2(members.read(walk, told)), atOnce, work, walk.ending);
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
async function* numbered2(members) {
  let number = 0;
  for await (const { value, secret } of members) {
    number += 1;
    yield { number, value, secret };
  }
}
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
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvc2NvcGUudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvc3RhcnQtc2NvcGUudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvY29uZGl0aW9ucy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9yb3dzL3JlZ2lzdHJ5LnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3Jvd3MvY3N2LnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3Jvd3MvanNvbi50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9yb3dzL2pzb25sLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3Jvd3MvdG90YWwudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvcm93cy9yb3dzLXBsYW4udHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvZ2l2aW5nLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3NlY3JldHMtYWhlYWQudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvc3RlcHMvY2hvb3NlLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3N0ZXBzL3VuY2hhbmdpbmcudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvc3RlcHMvY29tcGFyZS50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9ncmF2aXR5LnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL21hbnkudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvdGFibGUudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvc3RlcHMvbWVtYmVycy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9zdGVwcy9mb3ItZWFjaC50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9zdGVwcy9rZWVwLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3N0ZXBzL3NlbnQtc3RlcC50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9zdGVwcy9wb2xsLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3N0ZXBzL3VuZG8tcGFydC50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9zdGVwcy9zZW5kLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3N0ZXBzL3RyYWlsLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3N0ZXBzL3JlZ2lzdHJ5LnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3BsYW4udHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBUaGUgbmFtZXMgb2Ygb25lIHdhbGs6IGlucHV0cywgcm93IGNvbHVtbnMgYW5kIGtlcHQgdmFsdWVzOyB3aGF0IGlzIGtlcHQgbGF0ZXIgcmVwbGFjZXMgd2hhdCB3YXMgdGhlcmUuICovXG5pbXBvcnQgdHlwZSB7IE5hbWVkLCBOYW1lcyB9IGZyb20gJy4uL2V4cHJlc3Npb24vbmFtZXMuanMnO1xuXG5leHBvcnQgY2xhc3MgU2NvcGUgaW1wbGVtZW50cyBOYW1lcyB7XG4gIHJlYWRvbmx5IGxheWVyczogcmVhZG9ubHkgc3RyaW5nW107XG5cbiAgLyoqIEBwYXJhbSBvdXRlciB0aGUgc2NvcGUgdGhhdCB0aGlzIG9uZSBzdGFuZHMgaW46IHNlZW4sIGFuZCBuZXZlciBjaGFuZ2VkICovXG4gIGNvbnN0cnVjdG9yKFxuICAgIHByaXZhdGUgcmVhZG9ubHkgdmFsdWVzOiBNYXA8c3RyaW5nLCBOYW1lZD4sXG4gICAgbGF5ZXI6IHN0cmluZyxcbiAgICBwcml2YXRlIHJlYWRvbmx5IG91dGVyPzogU2NvcGUsXG4gICkge1xuICAgIHRoaXMubGF5ZXJzID0gb3V0ZXIgPyBbbGF5ZXIsIC4uLm91dGVyLmxheWVyc10gOiBbbGF5ZXJdO1xuICB9XG5cbiAgbG9va3VwKG5hbWU6IHN0cmluZyk6IE5hbWVkIHwgdW5kZWZpbmVkIHtcbiAgICByZXR1cm4gdGhpcy52YWx1ZXMuZ2V0KG5hbWUpID8/IHRoaXMub3V0ZXI/Lmxvb2t1cChuYW1lKTtcbiAgfVxuXG4gICprbm93bigpOiBJdGVyYWJsZTxzdHJpbmc+IHtcbiAgICB5aWVsZCogdGhpcy52YWx1ZXMua2V5cygpO1xuICAgIGlmICh0aGlzLm91dGVyKSB5aWVsZCogdGhpcy5vdXRlci5rbm93bigpO1xuICB9XG5cbiAgc2V0KG5hbWU6IHN0cmluZywgbmFtZWQ6IE5hbWVkKTogdm9pZCB7XG4gICAgdGhpcy52YWx1ZXMuc2V0KG5hbWUsIG5hbWVkKTtcbiAgfVxuXG4gIC8qKiBBcyBpdCBpcyBub3c7IHdoYXQgaXMga2VwdCBsYXRlciBkb2VzIG5vdCBjaGFuZ2UgaXQuICovXG4gIHNuYXBzaG90KCk6IFNjb3BlIHtcbiAgICByZXR1cm4gbmV3IFNjb3BlKG5ldyBNYXAodGhpcy52YWx1ZXMpLCB0aGlzLmxheWVyc1swXSA/PyAnJywgdGhpcy5vdXRlcj8uc25hcHNob3QoKSk7XG4gIH1cbn1cbiIsICIvKiogVGhlIG5hbWVzIHRoYXQgYSB0cmFpbCBzdGFydHMgd2l0aDogaXRzIGlucHV0cywgYW5kIHRoZSBjb2x1bW5zIG9mIGl0cyByb3cuICovXG5pbXBvcnQgeyB0eXBlIElucHV0UGxhbiwgaW5wdXRWYWx1ZSwgbWlzc2luZ0lucHV0IH0gZnJvbSAnLi4vY29sbGVjdGlvbi9pbnB1dHMuanMnO1xuaW1wb3J0IHsgdmFyaWFibGVOYW1lcyB9IGZyb20gJy4uL2NvbGxlY3Rpb24vbGF5ZXJzLmpzJztcbmltcG9ydCB7IHR5cGUgTmFtZWQsIG5vTmFtZXMgfSBmcm9tICcuLi9leHByZXNzaW9uL25hbWVzLmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUgfSBmcm9tICcuLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB0eXBlIHsgUm93IH0gZnJvbSAnLi9yb3dzL3Jvdy1zb3VyY2UuanMnO1xuaW1wb3J0IHsgU2NvcGUgfSBmcm9tICcuL3Njb3BlLmpzJztcbmltcG9ydCB0eXBlIHsgVHJhaWxQbGFuIH0gZnJvbSAnLi9zdGVwLWtpbmQuanMnO1xuaW1wb3J0IHR5cGUgeyBXb3Jrc3BhY2UgfSBmcm9tICcuL3dvcmtzcGFjZS5qcyc7XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gaW5wdXQtbWlzc2luZywgaW5wdXQtdmFsdWUgKi9cbmV4cG9ydCBmdW5jdGlvbiBzdGFydFNjb3BlKFxuICBwbGFuOiBUcmFpbFBsYW4sXG4gIHdvcmtzcGFjZTogV29ya3NwYWNlLFxuICBnaXZlbjogKGlucHV0OiBzdHJpbmcpID0+IE5hbWVkIHwgdW5kZWZpbmVkLFxuICByb3c/OiBSb3csXG4pOiBTY29wZSB7XG4gIGNvbnN0IHZhbHVlcyA9IG5ldyBNYXA8c3RyaW5nLCBOYW1lZD4oKTtcbiAgaWYgKHJvdykge1xuICAgIGNvbnN0IG9yaWdpbiA9IGByb3cgJHtyb3cubnVtYmVyfSBvZiAke3BsYW4ucm93cz8uZnJvbX1gO1xuICAgIHZhbHVlcy5zZXQoJ3JvdycsIHsgdmFsdWU6IHJvdy5jb2x1bW5zLCBvcmlnaW4gfSk7XG4gICAgZm9yIChjb25zdCBuYW1lIGluIHJvdy5jb2x1bW5zKSB2YWx1ZXMuc2V0KG5hbWUsIHsgdmFsdWU6IHJvdy5jb2x1bW5zW25hbWVdIGFzIFZhbHVlLCBvcmlnaW4gfSk7XG4gIH1cbiAgcmV0dXJuIHdpdGhJbnB1dHMocGxhbiwgd29ya3NwYWNlLCB2YWx1ZXMsIGdpdmVuLCAoaW5wdXQpID0+IHtcbiAgICB0aHJvdyBtaXNzaW5nSW5wdXQoaW5wdXQpO1xuICB9KTtcbn1cblxuLyoqIFRoZSBpbnB1dHMgYXMgZmFyIGFzIHRoZXkgYXJlIGtub3duIGJlZm9yZSB0aGVyZSBpcyBhIHJvdywgZm9yIHRoZSBleHByZXNzaW9uIHRoYXQgZ2l2ZXMgdGhlIHJvd3MuICovXG5leHBvcnQgZnVuY3Rpb24gaW5wdXRTY29wZShwbGFuOiBUcmFpbFBsYW4sIHdvcmtzcGFjZTogV29ya3NwYWNlLCBnaXZlbjogKGlucHV0OiBzdHJpbmcpID0+IE5hbWVkIHwgdW5kZWZpbmVkKTogU2NvcGUge1xuICByZXR1cm4gd2l0aElucHV0cyhwbGFuLCB3b3Jrc3BhY2UsIG5ldyBNYXAoKSwgZ2l2ZW4sICgpID0+IHVuZGVmaW5lZCk7XG59XG5cbmZ1bmN0aW9uIHdpdGhJbnB1dHMoXG4gIHBsYW46IFRyYWlsUGxhbixcbiAgd29ya3NwYWNlOiBXb3Jrc3BhY2UsXG4gIHZhbHVlczogTWFwPHN0cmluZywgTmFtZWQ+LFxuICBnaXZlbjogKGlucHV0OiBzdHJpbmcpID0+IE5hbWVkIHwgdW5kZWZpbmVkLFxuICBtaXNzaW5nOiAoaW5wdXQ6IElucHV0UGxhbikgPT4gdm9pZCxcbik6IFNjb3BlIHtcbiAgY29uc3Qgc2NvcGUgPSBuZXcgU2NvcGUodmFsdWVzLCBgdmFsdWVzIG9mIHRyYWlsICR7cGxhbi5uYW1lfWApO1xuICBpZiAocGxhbi5pbnB1dHMubGVuZ3RoID09PSAwKSByZXR1cm4gc2NvcGU7XG4gIGNvbnN0IHN1cnJvdW5kaW5ncyA9IHsgd29ybGQ6IHdvcmtzcGFjZS53b3JsZCgpLCBvblNlY3JldDogd29ya3NwYWNlLnJlZGFjdG9yLmFkZCB9O1xuICBjb25zdCBuYW1lcyA9IHZhcmlhYmxlTmFtZXMod29ya3NwYWNlLmxheWVycywgbm9OYW1lcywgc3Vycm91bmRpbmdzKTtcbiAgZm9yIChjb25zdCBpbnB1dCBvZiBwbGFuLmlucHV0cykge1xuICAgIGNvbnN0IG5hbWVkID0gaW5wdXRWYWx1ZShpbnB1dCwgZ2l2ZW4oaW5wdXQubmFtZSkgPz8gdmFsdWVzLmdldChpbnB1dC5uYW1lKSwgbmFtZXMsIHN1cnJvdW5kaW5ncyk7XG4gICAgaWYgKG5hbWVkKSBzY29wZS5zZXQoaW5wdXQubmFtZSwgbmFtZWQpO1xuICAgIGVsc2UgbWlzc2luZyhpbnB1dCk7XG4gIH1cbiAgcmV0dXJuIHNjb3BlO1xufVxuXG4vKiogV2hhdCBgLS1zZXRgIGdpdmVzIHRvIGlucHV0cy4gKi9cbmV4cG9ydCBjb25zdCBmcm9tQ29tbWFuZExpbmUgPVxuICAoeyBzZXR0aW5ncyB9OiBXb3Jrc3BhY2UpID0+XG4gIChpbnB1dDogc3RyaW5nKTogTmFtZWQgfCB1bmRlZmluZWQgPT4ge1xuICAgIGNvbnN0IHZhbHVlID0gc2V0dGluZ3MuZ2V0KGlucHV0KTtcbiAgICByZXR1cm4gdmFsdWUgPT09IHVuZGVmaW5lZCA/IHVuZGVmaW5lZCA6IHsgdmFsdWUsIG9yaWdpbjogJy0tc2V0JyB9O1xuICB9O1xuIiwgIi8qKiBgd2hlbmA6IHdoZXRoZXIgYSBzdGVwIGlzIHRha2VuLCBieSBtYXRjaGVycyBvdmVyIHRoZSBuYW1lcyBvZiB0aGUgd2Fsay4gKi9cbmltcG9ydCB0eXBlIHsgWWFtbEZpbGUgfSBmcm9tICcuLi9jb2xsZWN0aW9uL3lhbWwuanMnO1xuaW1wb3J0IHR5cGUgeyBMb2FkcyB9IGZyb20gJy4uL2V4cHJlc3Npb24vY29tcGlsZS5qcyc7XG5pbXBvcnQgeyB0eXBlIEV2YWx1YXRpb24sIG9taXR0ZWQgfSBmcm9tICcuLi9leHByZXNzaW9uL2V2YWx1YXRpb24uanMnO1xuaW1wb3J0IHsgcGFyc2VFeHByZXNzaW9uIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi9wYXJzZXIuanMnO1xuaW1wb3J0IHsgY29tcGlsZVRyZWUgfSBmcm9tICcuLi9leHByZXNzaW9uL3RyZWUuanMnO1xuaW1wb3J0IHsgY29tcGlsZU1hdGNoZXJzIH0gZnJvbSAnLi4vbWF0Y2hlci9jb21waWxlLmpzJztcbmltcG9ydCB0eXBlIHsgQ2hlY2sgfSBmcm9tICcuLi9tYXRjaGVyL21hdGNoZXIuanMnO1xuaW1wb3J0IHsgYXNQcm9ibGVtLCBQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IGlzVmFsdWVNYXAsIHR5cGUgVmFsdWUgfSBmcm9tICcuLi92YWx1ZS93cml0dGVuLmpzJztcblxuZXhwb3J0IHR5cGUgQ29uZGl0aW9uID0gKGV2YWx1YXRpb246IEV2YWx1YXRpb24pID0+IGJvb2xlYW47XG5cbmludGVyZmFjZSBSb29tIHtcbiAgcmVhZG9ubHkgeWFtbDogWWFtbEZpbGU7XG4gIHJlYWRvbmx5IGxvYWRzOiBMb2FkcztcbiAgcmVhZG9ubHkgcmVhZFRleHQ6IChwYXRoOiBzdHJpbmcpID0+IHN0cmluZztcbn1cblxuLyoqXG4gKiBBbGwgbWF0Y2hlcnMgb2YgYSBzZXQgbXVzdCBob2xkOyBgYW55YCBpcyBhIGxpc3Qgb2Ygc2V0cywgb25lIG9mIHdoaWNoIG11c3QsIGFuZCBgbm90YCBhIHNldCB0aGF0IG11c3Qgbm90LlxuICogQHRocm93cyBQcm9ibGVtIG1hdGNoZXItc2hhcGUsIGV4cHJlc3Npb24tc3ludGF4LCB3aXRoIGl0cyBwbGFjZSBpbiB0aGUgZmlsZVxuICovXG5leHBvcnQgZnVuY3Rpb24gY29tcGlsZUNvbmRpdGlvbihcbiAgc2V0OiBSZWFkb25seTxSZWNvcmQ8c3RyaW5nLCBWYWx1ZT4+LFxuICBwYXRoOiByZWFkb25seSAoc3RyaW5nIHwgbnVtYmVyKVtdLFxuICByb29tOiBSb29tLFxuKTogQ29uZGl0aW9uIHtcbiAgY29uc3QgcGFydHMgPSBPYmplY3QuZW50cmllcyhzZXQpLm1hcCgoW25hbWUsIHZhbHVlXSk6IENvbmRpdGlvbiA9PiB7XG4gICAgY29uc3QgYXQgPSBbLi4ucGF0aCwgbmFtZV07XG4gICAgdHJ5IHtcbiAgICAgIGlmIChuYW1lID09PSAnYW55JyAmJiBBcnJheS5pc0FycmF5KHZhbHVlKSkge1xuICAgICAgICBjb25zdCBzZXRzID0gKHZhbHVlIGFzIHJlYWRvbmx5IFZhbHVlW10pLm1hcCgob25lLCBpbmRleCkgPT5cbiAgICAgICAgICBjb21waWxlQ29uZGl0aW9uKGFzU2V0KG9uZSksIFsuLi5hdCwgaW5kZXhdLCByb29tKSxcbiAgICAgICAgKTtcbiAgICAgICAgcmV0dXJuIChldmFsdWF0aW9uKSA9PiBzZXRzLnNvbWUoKGhvbGRzKSA9PiBob2xkcyhldmFsdWF0aW9uKSk7XG4gICAgICB9XG4gICAgICBpZiAobmFtZSA9PT0gJ25vdCcgJiYgaXNWYWx1ZU1hcCh2YWx1ZSkpIHtcbiAgICAgICAgY29uc3QgaW5uZXIgPSBjb21waWxlQ29uZGl0aW9uKGFzU2V0KHZhbHVlKSwgYXQsIHJvb20pO1xuICAgICAgICByZXR1cm4gKGV2YWx1YXRpb24pID0+ICFpbm5lcihldmFsdWF0aW9uKTtcbiAgICAgIH1cbiAgICAgIHJldHVybiBvdmVyTmFtZShuYW1lLCB2YWx1ZSwgYXQsIHJvb20pO1xuICAgIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgICB0aHJvdyBhc1Byb2JsZW0oZXJyb3IpLmF0KHJvb20ueWFtbC5wb3NpdGlvbihhdCkpO1xuICAgIH1cbiAgfSk7XG4gIHJldHVybiAoZXZhbHVhdGlvbikgPT4gcGFydHMuZXZlcnkoKGhvbGRzKSA9PiBob2xkcyhldmFsdWF0aW9uKSk7XG59XG5cbmZ1bmN0aW9uIGFzU2V0KHZhbHVlOiBWYWx1ZSk6IFJlYWRvbmx5PFJlY29yZDxzdHJpbmcsIFZhbHVlPj4ge1xuICBpZiAoaXNWYWx1ZU1hcCh2YWx1ZSkpIHJldHVybiB2YWx1ZSBhcyBSZWFkb25seTxSZWNvcmQ8c3RyaW5nLCBWYWx1ZT4+O1xuICB0aHJvdyBuZXcgUHJvYmxlbSgnbWF0Y2hlci1zaGFwZScsIHsgd2hhdDogJ2FueSBpcyBhIGxpc3Qgb2YgbWFwczogbmFtZXMsIGVhY2ggd2l0aCBpdHMgbWF0Y2hlcnMnIH0pO1xufVxuXG4vKiogQSBuYW1lLCBvciBhIG1lbWJlciBvZiBvbmUgc3VjaCBhcyBgdmVzc2VsLmtpbmRgOyB3aGF0IGRvZXMgbm90IGV4aXN0IGlzIG5vdGhpbmcuICovXG5mdW5jdGlvbiBvdmVyTmFtZShcbiAgbmFtZTogc3RyaW5nLFxuICB2YWx1ZTogVmFsdWUsXG4gIGF0OiByZWFkb25seSAoc3RyaW5nIHwgbnVtYmVyKVtdLFxuICB7IHlhbWwsIGxvYWRzLCByZWFkVGV4dCB9OiBSb29tLFxuKTogQ29uZGl0aW9uIHtcbiAgLy8gQSBjb2x1bW4gbWF5IGJlIGNhbGxlZCB3aGF0ZXZlciBpdCBsaWtlczsgb25seSB3aGF0IG5vIG5hbWUgaXMgbWF5IGJlIGEgd2F5IGludG8gb25lLlxuICBjb25zdCB3YXkgPSAvWy5bXS8udGVzdChuYW1lKSA/IHdheUludG8obmFtZSkgOiB1bmRlZmluZWQ7XG4gIGNvbnN0IHRyZWUgPSBjb21waWxlVHJlZSh2YWx1ZSwgKGlubmVyKSA9PiB5YW1sLnBvc2l0aW9uKFsuLi5hdCwgLi4uaW5uZXJdKSwgbG9hZHMpO1xuICBjb25zdCByZW1ha2UgPSAoZXhwZWN0ZWQ6IFZhbHVlLCBtb3JlOiBMb2Fkcyk6IENoZWNrID0+XG4gICAgY29tcGlsZU1hdGNoZXJzKGV4cGVjdGVkLCB7IHN1YmplY3Q6IHsgc3RyaWN0OiBmYWxzZSB9LCBsb2FkczogbW9yZSwgcmVhZFRleHQgfSk7XG4gIGNvbnN0IGZpeGVkID0gdHJlZS5jb25zdGFudCA9PT0gdW5kZWZpbmVkID8gdW5kZWZpbmVkIDogcmVtYWtlKHRyZWUuY29uc3RhbnQsIGxvYWRzKTtcbiAgcmV0dXJuIChldmFsdWF0aW9uKSA9PiB7XG4gICAgY29uc3QgZm91bmQgPSBldmFsdWF0aW9uLm5hbWVzLmxvb2t1cChuYW1lKT8udmFsdWUgPz8gd2F5Py4oZXZhbHVhdGlvbik7XG4gICAgbGV0IGNoZWNrID0gZml4ZWQ7XG4gICAgaWYgKCFjaGVjaykge1xuICAgICAgY29uc3QgZXhwZWN0ZWQgPSB0cmVlLmV2YWx1YXRlKGV2YWx1YXRpb24pO1xuICAgICAgY29uc3QgbW9yZTogTG9hZHMgPSBbXTtcbiAgICAgIGNoZWNrID0gcmVtYWtlKGV4cGVjdGVkID09PSBvbWl0dGVkID8gbnVsbCA6IGV4cGVjdGVkLCBtb3JlKTtcbiAgICAgIGlmIChtb3JlLmxlbmd0aCA+IDApIHtcbiAgICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ21hdGNoZXItc2hhcGUnLCB7XG4gICAgICAgICAgd2hhdDogYHRoZSBjb25kaXRpb24gb3ZlciAke25hbWV9IG5lZWRzIGEgcGF0dGVybiBvciBhIHNjaGVtYSB0aGF0IGlzIHdyaXR0ZW4gb3V0YCxcbiAgICAgICAgICByZW1lZHk6ICduYW1lIHRoZSB2YWx1ZSBpbiBhIHN0ZXAgd2l0aCBrZWVwOiBiZWZvcmUgaXQnLFxuICAgICAgICB9KTtcbiAgICAgIH1cbiAgICB9XG4gICAgcmV0dXJuIGNoZWNrLm1pc3MoZm91bmQsIHt9KSA9PT0gdW5kZWZpbmVkO1xuICB9O1xufVxuXG4vKiogV2hhdCBzdGFuZHMgYXQgdGhlIGVuZCBvZiBhIHdheSBzdWNoIGFzIGB2ZXNzZWwubWFzdHNbMV1gOyB1bmRlZmluZWQgd2hlcmUgaXQgbGVhZHMgbm93aGVyZS4gKi9cbmZ1bmN0aW9uIHdheUludG8odGV4dDogc3RyaW5nKTogKGV2YWx1YXRpb246IEV2YWx1YXRpb24pID0+IFZhbHVlIHwgdW5kZWZpbmVkIHtcbiAgY29uc3Qgbm9kZSA9IHBhcnNlRXhwcmVzc2lvbih0ZXh0KTtcbiAgY29uc3Qga2V5cyA9IG5vZGUua2luZCA9PT0gJ3BhdGgnID8gbm9kZS5zdGVwcy5tYXAoKHN0ZXApID0+ICgna2V5JyBpbiBzdGVwID8gc3RlcC5rZXkgOiB1bmRlZmluZWQpKSA6IFtdO1xuICBpZiAobm9kZS5raW5kICE9PSAncGF0aCcgfHwga2V5cy5pbmNsdWRlcyh1bmRlZmluZWQpKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ21hdGNoZXItc2hhcGUnLCB7XG4gICAgICB3aGF0OiBgYSBjb25kaXRpb24gaXMgb3ZlciBhIG5hbWUsIG9yIGEgbWVtYmVyIG9mIG9uZSwgbm90IG92ZXIgJHt0ZXh0fWAsXG4gICAgICByZW1lZHk6ICduYW1lIHRoZSB2YWx1ZSBpbiBhIHN0ZXAgd2l0aCBrZWVwOiBiZWZvcmUgaXQnLFxuICAgIH0pO1xuICB9XG4gIHJldHVybiAoeyBuYW1lcyB9KSA9PiB7XG4gICAgbGV0IHZhbHVlID0gbmFtZXMubG9va3VwKG5vZGUubmFtZSk/LnZhbHVlO1xuICAgIGZvciAoY29uc3Qga2V5IG9mIGtleXMgYXMgKHN0cmluZyB8IG51bWJlcilbXSkge1xuICAgICAgaWYgKEFycmF5LmlzQXJyYXkodmFsdWUpKSB2YWx1ZSA9ICh2YWx1ZSBhcyByZWFkb25seSBWYWx1ZVtdKS5hdChOdW1iZXIoa2V5KSk7XG4gICAgICBlbHNlIHZhbHVlID0gaXNWYWx1ZU1hcCh2YWx1ZSkgJiYgT2JqZWN0Lmhhc093bih2YWx1ZSwga2V5KSA/IHZhbHVlW2tleV0gOiB1bmRlZmluZWQ7XG4gICAgfVxuICAgIHJldHVybiB2YWx1ZTtcbiAgfTtcbn1cbiIsICIvKiogQWxsIGZvcm1hdHMgb2Ygcm93cy4gQSBuZXcgb25lIGlzIG9uZSBmaWxlIGFuZCBvbmUgbGluZSBoZXJlLiAqL1xuaW1wb3J0IHsgY3JlYXRlUmVhZFN0cmVhbSB9IGZyb20gJ25vZGU6ZnMnO1xuaW1wb3J0IHR5cGUgeyBSZWFkYWJsZSB9IGZyb20gJ25vZGU6c3RyZWFtJztcbmltcG9ydCB0eXBlIHsgTG9hZHMgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL2NvbXBpbGUuanMnO1xuaW1wb3J0IHsgYXNQcm9ibGVtLCB0eXBlIEZpbGVQb3NpdGlvbiwgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBwYXRoSW5zaWRlIH0gZnJvbSAnLi4vLi4vc3RvcmFnZS9pbnNpZGUuanMnO1xuaW1wb3J0IHR5cGUgeyBWYWx1ZU1hcCB9IGZyb20gJy4uLy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHsgY3N2IH0gZnJvbSAnLi9jc3YuanMnO1xuaW1wb3J0IHsganNvbiB9IGZyb20gJy4vanNvbi5qcyc7XG5pbXBvcnQgeyBqc29ubCB9IGZyb20gJy4vanNvbmwuanMnO1xuaW1wb3J0IHR5cGUgeyBSb3dTb3VyY2UgfSBmcm9tICcuL3Jvdy1zb3VyY2UuanMnO1xuXG5jb25zdCByb3dTb3VyY2VzOiByZWFkb25seSBSb3dTb3VyY2VbXSA9IFtjc3YsIGpzb24sIGpzb25sXTtcblxuZnVuY3Rpb24gcm93U291cmNlT2YoZmlsZTogc3RyaW5nKTogUm93U291cmNlIHtcbiAgY29uc3QgZm91bmQgPSByb3dTb3VyY2VzLmZpbmQoKHsgZW5kaW5nIH0pID0+IGVuZGluZy50ZXN0KGZpbGUpKTtcbiAgaWYgKGZvdW5kKSByZXR1cm4gZm91bmQ7XG4gIHRocm93IG5ldyBQcm9ibGVtKCdkYXRhLXNoYXBlJywge1xuICAgIHdoYXQ6IGByb3dzIGFyZSByZWFkIGZyb20gLmNzdiwgLmpzb24gYW5kIC5qc29ubCBmaWxlcywgbm90IGZyb20gJHtmaWxlfWAsXG4gIH0pO1xufVxuXG4vKiogTG9va3MgYXQgYSBmaWxlIGJlZm9yZSBhbnl0aGluZyBpcyBzZW50LiBAdGhyb3dzIFByb2JsZW0gZmlsZS1ub3QtZm91bmQsIGZpbGUtb3V0c2lkZSwgZGF0YS1zaGFwZTogbm8gZm9ybWF0IGhhcyB0aGF0IGVuZGluZyAqL1xuZXhwb3J0IGZ1bmN0aW9uIHJlYWR5Um93cyhyb290OiBzdHJpbmcsIGZpbGU6IHN0cmluZywgbG9hZHM6IExvYWRzLCB3aGVyZTogRmlsZVBvc2l0aW9uKTogdm9pZCB7XG4gIHRyeSB7XG4gICAgY29uc3QgeyBsb2FkIH0gPSByb3dTb3VyY2VPZihmaWxlKTtcbiAgICBwYXRoSW5zaWRlKHJvb3QsIGZpbGUpO1xuICAgIGlmIChsb2FkKSBsb2Fkcy5wdXNoKGxvYWQoKSk7XG4gIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgdGhyb3cgYXNQcm9ibGVtKGVycm9yKS5hdCh3aGVyZSk7XG4gIH1cbn1cblxuLyoqIFRoZSByb3dzIG9mIGEgZmlsZSBvZiB0aGUgY29sbGVjdGlvbi4gQHRocm93cyBQcm9ibGVtIGZpbGUtbm90LWZvdW5kLCBmaWxlLW91dHNpZGUsIGRhdGEtc2hhcGUgKi9cbmV4cG9ydCBmdW5jdGlvbiBmaWxlUm93cyhyb290OiBzdHJpbmcsIGZpbGU6IHN0cmluZyk6IEFzeW5jSXRlcmFibGU8VmFsdWVNYXA+IHtcbiAgY29uc3Qgc291cmNlID0gcm93U291cmNlT2YoZmlsZSk7XG4gIHJldHVybiBzb3VyY2UucmVhZChjcmVhdGVSZWFkU3RyZWFtKHBhdGhJbnNpZGUocm9vdCwgZmlsZSkpLCBmaWxlKTtcbn1cblxuLyoqIFJvd3MgZnJvbSBhIHN0cmVhbSB3aXRob3V0IGEgbmFtZTogYSBsaXN0LCBsaW5lcyBvZiBvYmplY3RzLCBvciBDU1YsIGFzIGl0cyBmaXJzdCBsZXR0ZXIgc2F5cy4gKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiogc3RyZWFtUm93cyhzdHJlYW06IFJlYWRhYmxlKTogQXN5bmNHZW5lcmF0b3I8VmFsdWVNYXA+IHtcbiAgY29uc3QgbmFtZSA9ICdzdGFuZGFyZCBpbnB1dCc7XG4gIGNvbnN0IGZpcnN0ID0gYXdhaXQgZmlyc3RMZXR0ZXIoc3RyZWFtKTtcbiAgaWYgKGZpcnN0ID09PSB1bmRlZmluZWQpIHJldHVybjtcbiAgeWllbGQqIChmaXJzdCA9PT0gJ1snID8ganNvbiA6IGZpcnN0ID09PSAneycgPyBqc29ubCA6IGNzdikucmVhZChzdHJlYW0sIG5hbWUpO1xufVxuXG4vKiogV2hhdCBpcyByZWFkIGZvciBpdCBpcyBwdXQgYmFjay4gKi9cbmFzeW5jIGZ1bmN0aW9uIGZpcnN0TGV0dGVyKHN0cmVhbTogUmVhZGFibGUpOiBQcm9taXNlPHN0cmluZyB8IHVuZGVmaW5lZD4ge1xuICBmb3IgKDs7KSB7XG4gICAgY29uc3QgY2h1bmsgPSBzdHJlYW0ucmVhZCgpIGFzIEJ1ZmZlciB8IG51bGw7XG4gICAgaWYgKGNodW5rID09PSBudWxsKSB7XG4gICAgICBpZiAoc3RyZWFtLnJlYWRhYmxlRW5kZWQgfHwgc3RyZWFtLmRlc3Ryb3llZCkgcmV0dXJuIHVuZGVmaW5lZDtcbiAgICAgIGF3YWl0IG5ldyBQcm9taXNlPHZvaWQ+KChyZXNvbHZlKSA9PiB7XG4gICAgICAgIGNvbnN0IGdvID0gKCk6IHZvaWQgPT4ge1xuICAgICAgICAgIHN0cmVhbS5vZmYoJ3JlYWRhYmxlJywgZ28pLm9mZignZW5kJywgZ28pLm9mZignZXJyb3InLCBnbyk7XG4gICAgICAgICAgcmVzb2x2ZSgpO1xuICAgICAgICB9O1xuICAgICAgICBzdHJlYW0ub24oJ3JlYWRhYmxlJywgZ28pLm9uKCdlbmQnLCBnbykub24oJ2Vycm9yJywgZ28pO1xuICAgICAgfSk7XG4gICAgICBjb250aW51ZTtcbiAgICB9XG4gICAgY29uc3QgdGV4dCA9IGNodW5rLnRvU3RyaW5nKCd1dGY4JykucmVwbGFjZSgvXlxcdUZFRkYvLCAnJyk7XG4gICAgY29uc3QgZm91bmQgPSAvXFxTLy5leGVjKHRleHQpPy5bMF07XG4gICAgaWYgKGZvdW5kID09PSB1bmRlZmluZWQpIGNvbnRpbnVlO1xuICAgIHN0cmVhbS51bnNoaWZ0KGNodW5rKTtcbiAgICByZXR1cm4gZm91bmQ7XG4gIH1cbn1cbiIsICIvKiogQ1NWIChSRkMgNDE4MCkgd2l0aCBhIGZpcnN0IGxpbmUgb2YgbmFtZXMsIGJ5IGEgd2VsbC1rbm93biBsaWJyYXJ5LiAqL1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgdHlwZSB7IFJvd1NvdXJjZSB9IGZyb20gJy4vcm93LXNvdXJjZS5qcyc7XG5cbmxldCBwYXJzZTogdHlwZW9mIGltcG9ydCgnY3N2LXBhcnNlJykucGFyc2UgfCB1bmRlZmluZWQ7XG5cbmFzeW5jIGZ1bmN0aW9uIGxvYWQoKTogUHJvbWlzZTxOb25OdWxsYWJsZTx0eXBlb2YgcGFyc2U+PiB7XG4gIHBhcnNlID8/PSAoYXdhaXQgaW1wb3J0KCdjc3YtcGFyc2UnKSkucGFyc2U7XG4gIHJldHVybiBwYXJzZTtcbn1cblxuZXhwb3J0IGNvbnN0IGNzdjogUm93U291cmNlID0ge1xuICBuYW1lOiAnY3N2JyxcbiAgZW5kaW5nOiAvXFwuY3N2JC9pLFxuICBsb2FkLFxuICBhc3luYyAqcmVhZChzdHJlYW0sIGZpbGUpIHtcbiAgICBjb25zdCBwYXJzZXIgPSBzdHJlYW0ucGlwZSgoYXdhaXQgbG9hZCgpKSh7IGNvbHVtbnM6IHRydWUsIGJvbTogdHJ1ZSwgc2tpcF9lbXB0eV9saW5lczogdHJ1ZSwgdHJpbTogZmFsc2UgfSkpO1xuICAgIC8vIEEgcGlwZSBkb2VzIG5vdCBoYW5kIG9uIHdoYXQgZ29lcyB3cm9uZyB3aGVyZSBpdCByZWFkcy5cbiAgICBzdHJlYW0ub24oJ2Vycm9yJywgKGVycm9yKSA9PiBwYXJzZXIuZGVzdHJveShlcnJvcikpO1xuICAgIHRyeSB7XG4gICAgICBmb3IgYXdhaXQgKGNvbnN0IGNvbHVtbnMgb2YgcGFyc2VyIGFzIEFzeW5jSXRlcmFibGU8UmVjb3JkPHN0cmluZywgc3RyaW5nPj4pIHlpZWxkIGNvbHVtbnM7XG4gICAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICAgIGlmIChlcnJvciBpbnN0YW5jZW9mIFByb2JsZW0pIHRocm93IGVycm9yO1xuICAgICAgY29uc3QgeyBtZXNzYWdlLCBsaW5lcyB9ID0gZXJyb3IgYXMgRXJyb3IgJiB7IGxpbmVzPzogbnVtYmVyIH07XG4gICAgICB0aHJvdyBuZXcgUHJvYmxlbShcbiAgICAgICAgJ2RhdGEtc2hhcGUnLFxuICAgICAgICB7IHdoYXQ6IGAke2ZpbGV9IGlzIG5vdCB3ZWxsLWZvcm1lZCBDU1ZgLCB3aGVyZTogeyBmaWxlLCBsaW5lOiBsaW5lcyB9LCBjYXVzZTogbWVzc2FnZSB9LFxuICAgICAgICB7IGNhdXNlOiBlcnJvciB9LFxuICAgICAgKTtcbiAgICB9XG4gIH0sXG59O1xuIiwgIi8qKlxuICogQSBKU09OIGxpc3Qgb2Ygb2JqZWN0cywgcmVhZCBpdGVtIGJ5IGl0ZW06IHdoZXJlIGVhY2ggYmVnaW5zIGFuZCBlbmRzIGlzIGZvdW5kIGJ5IGl0cyBicmFja2V0cywgc28gdGhhdCBhIGxpc3Qgb2YgYW55XG4gKiBsZW5ndGggbmVlZHMgdGhlIG1lbW9yeSBvZiBvbmUgaXRlbSwgYW5kIG51bWJlcnMga2VlcCB0aGUgZGlnaXRzIHRoZXkgYXJlIHdyaXR0ZW4gd2l0aCAoUkZDIDgyNTkpLlxuICovXG5pbXBvcnQgdHlwZSB7IFJlYWRhYmxlIH0gZnJvbSAnbm9kZTpzdHJlYW0nO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBwYXJzZUpzb24gfSBmcm9tICcuLi8uLi92YWx1ZS9qc29uLXRleHQuanMnO1xuaW1wb3J0IHsgaXNWYWx1ZU1hcCwgdHlwZSBWYWx1ZSB9IGZyb20gJy4uLy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHR5cGUgeyBSb3dTb3VyY2UgfSBmcm9tICcuL3Jvdy1zb3VyY2UuanMnO1xuXG5leHBvcnQgY29uc3QganNvbjogUm93U291cmNlID0ge1xuICBuYW1lOiAnanNvbicsXG4gIGVuZGluZzogL1xcLmpzb24kL2ksXG4gIGFzeW5jICpyZWFkKHN0cmVhbSwgZmlsZSkge1xuICAgIGxldCBudW1iZXIgPSAwO1xuICAgIGZvciBhd2FpdCAoY29uc3QgdGV4dCBvZiBpdGVtc0luKHN0cmVhbSwgZmlsZSkpIHtcbiAgICAgIG51bWJlciArPSAxO1xuICAgICAgbGV0IGl0ZW06IFZhbHVlO1xuICAgICAgdHJ5IHtcbiAgICAgICAgaXRlbSA9IHBhcnNlSnNvbih0ZXh0KSBhcyBWYWx1ZTtcbiAgICAgIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgICAgIHRocm93IG5ldyBQcm9ibGVtKCdkYXRhLXNoYXBlJywge1xuICAgICAgICAgIHdoYXQ6IGBpdGVtICR7bnVtYmVyfSBvZiAke2ZpbGV9IGlzIG5vdCBKU09OYCxcbiAgICAgICAgICB3aGVyZTogeyBmaWxlIH0sXG4gICAgICAgICAgY2F1c2U6IChlcnJvciBhcyBFcnJvcikubWVzc2FnZSxcbiAgICAgICAgfSk7XG4gICAgICB9XG4gICAgICBpZiAoIWlzVmFsdWVNYXAoaXRlbSkpXG4gICAgICAgIHRocm93IG5ldyBQcm9ibGVtKCdkYXRhLXNoYXBlJywgeyB3aGF0OiBgaXRlbSAke251bWJlcn0gb2YgJHtmaWxlfSBtdXN0IGJlIGEgSlNPTiBvYmplY3RgLCB3aGVyZTogeyBmaWxlIH0gfSk7XG4gICAgICB5aWVsZCBpdGVtO1xuICAgIH1cbiAgfSxcbn07XG5cbi8qKiBUaGUgdGV4dHMgb2YgdGhlIGl0ZW1zIG9mIG9uZSBsaXN0LiAqL1xuYXN5bmMgZnVuY3Rpb24qIGl0ZW1zSW4oc3RyZWFtOiBSZWFkYWJsZSwgZmlsZTogc3RyaW5nKTogQXN5bmNHZW5lcmF0b3I8c3RyaW5nPiB7XG4gIGxldCBpdGVtID0gJyc7XG4gIGxldCBkZXB0aCA9IDA7XG4gIGxldCBpblRleHQgPSBmYWxzZTtcbiAgbGV0IGVzY2FwZWQgPSBmYWxzZTtcbiAgc3RyZWFtLnNldEVuY29kaW5nKCd1dGY4Jyk7XG4gIGZvciBhd2FpdCAoY29uc3QgY2h1bmsgb2Ygc3RyZWFtIGFzIEFzeW5jSXRlcmFibGU8c3RyaW5nPikge1xuICAgIGxldCBmcm9tID0gMDtcbiAgICBmb3IgKGxldCBhdCA9IDA7IGF0IDwgY2h1bmsubGVuZ3RoOyBhdCArPSAxKSB7XG4gICAgICBjb25zdCBsZXR0ZXIgPSBjaHVua1thdF0gYXMgc3RyaW5nO1xuICAgICAgaWYgKGluVGV4dCkge1xuICAgICAgICBpZiAoZXNjYXBlZCkgZXNjYXBlZCA9IGZhbHNlO1xuICAgICAgICBlbHNlIGlmIChsZXR0ZXIgPT09ICdcXFxcJykgZXNjYXBlZCA9IHRydWU7XG4gICAgICAgIGVsc2UgaWYgKGxldHRlciA9PT0gJ1wiJykgaW5UZXh0ID0gZmFsc2U7XG4gICAgICB9IGVsc2UgaWYgKGxldHRlciA9PT0gJ1wiJykgaW5UZXh0ID0gdHJ1ZTtcbiAgICAgIGVsc2UgaWYgKGxldHRlciA9PT0gJ1snIHx8IGxldHRlciA9PT0gJ3snKSB7XG4gICAgICAgIGRlcHRoICs9IDE7XG4gICAgICAgIGlmIChkZXB0aCA9PT0gMSkge1xuICAgICAgICAgIGlmIChsZXR0ZXIgIT09ICdbJykgdGhyb3cgbm90QUxpc3QoZmlsZSk7XG4gICAgICAgICAgZnJvbSA9IGF0ICsgMTtcbiAgICAgICAgfVxuICAgICAgfSBlbHNlIGlmIChsZXR0ZXIgPT09ICddJyB8fCBsZXR0ZXIgPT09ICd9JyB8fCAobGV0dGVyID09PSAnLCcgJiYgZGVwdGggPT09IDEpKSB7XG4gICAgICAgIGlmIChkZXB0aCA8PSAxKSB7XG4gICAgICAgICAgaXRlbSArPSBjaHVuay5zbGljZShmcm9tLCBhdCk7XG4gICAgICAgICAgaWYgKGl0ZW0udHJpbSgpICE9PSAnJykgeWllbGQgaXRlbTtcbiAgICAgICAgICBlbHNlIGlmIChsZXR0ZXIgPT09ICcsJykgdGhyb3cgbm90QUxpc3QoZmlsZSk7XG4gICAgICAgICAgaXRlbSA9ICcnO1xuICAgICAgICAgIGZyb20gPSBhdCArIDE7XG4gICAgICAgIH1cbiAgICAgICAgaWYgKGxldHRlciAhPT0gJywnKSBkZXB0aCAtPSAxO1xuICAgICAgfSBlbHNlIGlmIChkZXB0aCA9PT0gMCAmJiAhL1tcXHNcXHVGRUZGXS8udGVzdChsZXR0ZXIpKSB0aHJvdyBub3RBTGlzdChmaWxlKTtcbiAgICB9XG4gICAgaWYgKGRlcHRoID4gMCkgaXRlbSArPSBjaHVuay5zbGljZShmcm9tKTtcbiAgfVxuICBpZiAoZGVwdGggPiAwKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ2RhdGEtc2hhcGUnLCB7IHdoYXQ6IGAke2ZpbGV9IGVuZHMgaW4gdGhlIG1pZGRsZSBvZiBpdHMgbGlzdGAsIHdoZXJlOiB7IGZpbGUgfSB9KTtcbiAgfVxufVxuXG5jb25zdCBub3RBTGlzdCA9IChmaWxlOiBzdHJpbmcpOiBQcm9ibGVtID0+XG4gIG5ldyBQcm9ibGVtKCdkYXRhLXNoYXBlJywge1xuICAgIHdoYXQ6IGAke2ZpbGV9IGlzIG5vdCBhIEpTT04gbGlzdCBvZiBvYmplY3RzYCxcbiAgICB3aGVyZTogeyBmaWxlIH0sXG4gICAgcmVtZWR5OiAnZm9yIGEgbGlzdCBpbnNpZGUgYW5vdGhlciB2YWx1ZSwgc2VuZCBvciBrZWVwIGl0IGFuZCBnbyB0aHJvdWdoIGl0IHdpdGggZm9yLWVhY2gnLFxuICB9KTtcbiIsICIvKiogTGluZXMgb2YgSlNPTiwgYW4gb2JqZWN0IGVhY2guICovXG5pbXBvcnQgeyBjcmVhdGVJbnRlcmZhY2UgfSBmcm9tICdub2RlOnJlYWRsaW5lJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgcGFyc2VKc29uIH0gZnJvbSAnLi4vLi4vdmFsdWUvanNvbi10ZXh0LmpzJztcbmltcG9ydCB7IGlzVmFsdWVNYXAgfSBmcm9tICcuLi8uLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB0eXBlIHsgUm93U291cmNlIH0gZnJvbSAnLi9yb3ctc291cmNlLmpzJztcblxuZXhwb3J0IGNvbnN0IGpzb25sOiBSb3dTb3VyY2UgPSB7XG4gIG5hbWU6ICdqc29ubCcsXG4gIGVuZGluZzogL1xcLig/Ompzb25sfG5kanNvbikkL2ksXG4gIGFzeW5jICpyZWFkKHN0cmVhbSwgZmlsZSkge1xuICAgIGxldCBsaW5lID0gMDtcbiAgICBmb3IgYXdhaXQgKGNvbnN0IHRleHQgb2YgY3JlYXRlSW50ZXJmYWNlKHsgaW5wdXQ6IHN0cmVhbSwgY3JsZkRlbGF5OiBOdW1iZXIuUE9TSVRJVkVfSU5GSU5JVFkgfSkpIHtcbiAgICAgIGxpbmUgKz0gMTtcbiAgICAgIGlmICh0ZXh0LnRyaW0oKSA9PT0gJycpIGNvbnRpbnVlO1xuICAgICAgbGV0IGNvbHVtbnM6IHVua25vd247XG4gICAgICB0cnkge1xuICAgICAgICBjb2x1bW5zID0gcGFyc2VKc29uKHRleHQpO1xuICAgICAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ2RhdGEtc2hhcGUnLCB7XG4gICAgICAgICAgd2hhdDogYCR7ZmlsZX0gaXMgbm90IEpTT04gbGluZXNgLFxuICAgICAgICAgIHdoZXJlOiB7IGZpbGUsIGxpbmUgfSxcbiAgICAgICAgICBjYXVzZTogKGVycm9yIGFzIEVycm9yKS5tZXNzYWdlLFxuICAgICAgICB9KTtcbiAgICAgIH1cbiAgICAgIGlmICghaXNWYWx1ZU1hcChjb2x1bW5zKSlcbiAgICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ2RhdGEtc2hhcGUnLCB7IHdoYXQ6ICdhIHJvdyBtdXN0IGJlIGEgSlNPTiBvYmplY3QnLCB3aGVyZTogeyBmaWxlLCBsaW5lIH0gfSk7XG4gICAgICB5aWVsZCBjb2x1bW5zO1xuICAgIH1cbiAgfSxcbn07XG4iLCAiLyoqIEFib3V0IGhvdyBtYW55IHJvd3MgYSBmaWxlIGhhcywgZm9yIGhvdyBsb25nIGl0IHdpbGwgdGFrZTogbGluZXMgYXJlIGNvdW50ZWQsIHdoYXRldmVyIGlzIGluIHRoZW0uICovXG5pbXBvcnQgeyBjcmVhdGVSZWFkU3RyZWFtIH0gZnJvbSAnbm9kZTpmcyc7XG5pbXBvcnQgeyBwYXRoSW5zaWRlIH0gZnJvbSAnLi4vLi4vc3RvcmFnZS9pbnNpZGUuanMnO1xuXG4vKiogdW5kZWZpbmVkIG9mIGEgZm9ybWF0IGluIHdoaWNoIGEgbGluZSBpcyBubyByb3cgKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiByb3dzQWJvdXQocm9vdDogc3RyaW5nLCBmaWxlOiBzdHJpbmcpOiBQcm9taXNlPG51bWJlciB8IHVuZGVmaW5lZD4ge1xuICBjb25zdCBjc3YgPSAvXFwuY3N2JC9pLnRlc3QoZmlsZSk7XG4gIGlmICghY3N2ICYmICEvXFwuKD86anNvbmx8bmRqc29uKSQvaS50ZXN0KGZpbGUpKSByZXR1cm4gdW5kZWZpbmVkO1xuICBsZXQgbGluZXMgPSAwO1xuICBsZXQgbGFzdCA9IDEwO1xuICBmb3IgYXdhaXQgKGNvbnN0IGNodW5rIG9mIGNyZWF0ZVJlYWRTdHJlYW0ocGF0aEluc2lkZShyb290LCBmaWxlKSkgYXMgQXN5bmNJdGVyYWJsZTxCdWZmZXI+KSB7XG4gICAgZm9yIChsZXQgYXQgPSBjaHVuay5pbmRleE9mKDEwKTsgYXQgIT09IC0xOyBhdCA9IGNodW5rLmluZGV4T2YoMTAsIGF0ICsgMSkpIGxpbmVzICs9IDE7XG4gICAgbGFzdCA9IGNodW5rLmF0KC0xKSA/PyBsYXN0O1xuICB9XG4gIHJldHVybiBNYXRoLm1heCgwLCBsaW5lcyArIChsYXN0ID09PSAxMCA/IDAgOiAxKSAtIChjc3YgPyAxIDogMCkpO1xufVxuIiwgIi8qKiBXaGVyZSB0aGUgcm93cyBvZiBhIHRyYWlsIGNvbWUgZnJvbTogYSBmaWxlLCBzdGFuZGFyZCBpbnB1dCwgb3IgYSBsaXN0IHRoYXQgaXMgd29ya2VkIG91dC4gKi9cbmltcG9ydCB7IHZhcmlhYmxlTmFtZXMgfSBmcm9tICcuLi8uLi9jb2xsZWN0aW9uL2xheWVycy5qcyc7XG5pbXBvcnQgdHlwZSB7IFlhbWxGaWxlIH0gZnJvbSAnLi4vLi4vY29sbGVjdGlvbi95YW1sLmpzJztcbmltcG9ydCB0eXBlIHsgTG9hZHMgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL2NvbXBpbGUuanMnO1xuaW1wb3J0IHsgRXZhbHVhdGlvbiwgb21pdHRlZCB9IGZyb20gJy4uLy4uL2V4cHJlc3Npb24vZXZhbHVhdGlvbi5qcyc7XG5pbXBvcnQgeyBsYXllcmVkLCB0eXBlIE5hbWVzIH0gZnJvbSAnLi4vLi4vZXhwcmVzc2lvbi9uYW1lcy5qcyc7XG5pbXBvcnQgeyBjb21waWxlVHJlZSB9IGZyb20gJy4uLy4uL2V4cHJlc3Npb24vdHJlZS5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IGlzVmFsdWVNYXAsIHR5cGUgVmFsdWUsIHR5cGUgVmFsdWVNYXAgfSBmcm9tICcuLi8uLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB0eXBlIHsgV29ya3NwYWNlIH0gZnJvbSAnLi4vd29ya3NwYWNlLmpzJztcbmltcG9ydCB7IGZpbGVSb3dzLCByZWFkeVJvd3MsIHN0cmVhbVJvd3MgfSBmcm9tICcuL3JlZ2lzdHJ5LmpzJztcbmltcG9ydCB0eXBlIHsgUm93IH0gZnJvbSAnLi9yb3ctc291cmNlLmpzJztcbmltcG9ydCB7IHJvd3NBYm91dCB9IGZyb20gJy4vdG90YWwuanMnO1xuXG5leHBvcnQgaW50ZXJmYWNlIFJvd3NQbGFuIHtcbiAgLyoqIGBkYXRhL3Zlc3NlbHMuY3N2YCwgYHN0YW5kYXJkIGlucHV0YCwgYHRoZSBsaXN0YC4gKi9cbiAgcmVhZG9ubHkgZnJvbTogc3RyaW5nO1xuICAvKiogQHBhcmFtIG5hbWVzIHRoZSBpbnB1dHMgdGhhdCB0aGUgdHJhaWwgaGFzIGJlZm9yZSBhbnkgcm93ICovXG4gIHJlYWQod29ya3NwYWNlOiBXb3Jrc3BhY2UsIG5hbWVzOiBOYW1lcyk6IEFzeW5jSXRlcmFibGU8Um93PjtcbiAgLyoqIEFib3V0IGhvdyBtYW55IHRoZXJlIGFyZSwgd2hlcmUgdGhhdCBjYW4gYmUga25vd24gYWhlYWQuICovXG4gIGFib3V0KCk6IFByb21pc2U8bnVtYmVyIHwgdW5kZWZpbmVkPjtcbn1cblxuLyoqIEB0aHJvd3MgUHJvYmxlbSBmaWxlLW5vdC1mb3VuZCwgZmlsZS1vdXRzaWRlLCBkYXRhLXNoYXBlOiB0aGUgZmlsZSBjYW5ub3QgZ2l2ZSBhbnkgcm93cyAqL1xuZXhwb3J0IGZ1bmN0aW9uIHBsYW5Sb3dzKFxuICBnaXZlbjogc3RyaW5nIHwgcmVhZG9ubHkgVmFsdWVbXSxcbiAgeWFtbDogUGljazxZYW1sRmlsZSwgJ3Bvc2l0aW9uJz4sXG4gIGxvYWRzOiBMb2FkcyxcbiAgeyBjb2xsZWN0aW9uOiB7IHJvb3QgfSwgc3RhbmRhcmRJbnB1dCB9OiBXb3Jrc3BhY2UsXG4pOiBSb3dzUGxhbiB7XG4gIGlmIChnaXZlbiA9PT0gJy0nKSB7XG4gICAgaWYgKCFzdGFuZGFyZElucHV0KSB0aHJvdyBuZXcgUHJvYmxlbSgndXNhZ2UnLCB7IHdoYXQ6ICdyb3dzIGNvbWUgZnJvbSBzdGFuZGFyZCBpbnB1dCwgd2hpY2ggbm9ib2R5IHJlYWRzIGhlcmUnIH0pO1xuICAgIHJldHVybiB7IGZyb206ICdzdGFuZGFyZCBpbnB1dCcsIHJlYWQ6ICgpID0+IG51bWJlcmVkKHN0cmVhbVJvd3Moc3RhbmRhcmRJbnB1dCgpKSksIGFib3V0OiB1bmtub3duIH07XG4gIH1cbiAgaWYgKHR5cGVvZiBnaXZlbiA9PT0gJ3N0cmluZycgJiYgIWdpdmVuLmluY2x1ZGVzKCckeycpKSB7XG4gICAgcmVhZHlSb3dzKHJvb3QsIGdpdmVuLCBsb2FkcywgeWFtbC5wb3NpdGlvbihbJ3Jvd3MnXSkpO1xuICAgIHJldHVybiB7XG4gICAgICBmcm9tOiBnaXZlbixcbiAgICAgIHJlYWQ6ICgpID0+IG51bWJlcmVkKGZpbGVSb3dzKHJvb3QsIGdpdmVuKSksXG4gICAgICBhYm91dDogKCkgPT4gcm93c0Fib3V0KHJvb3QsIGdpdmVuKSxcbiAgICB9O1xuICB9XG4gIGNvbnN0IHdoZXJlID0geWFtbC5wb3NpdGlvbihbJ3Jvd3MnXSk7XG4gIGNvbnN0IHRyZWUgPSBjb21waWxlVHJlZShnaXZlbiBhcyBWYWx1ZSwgKHBhdGgpID0+IHlhbWwucG9zaXRpb24oWydyb3dzJywgLi4ucGF0aF0pLCBsb2Fkcyk7XG4gIHJldHVybiB7XG4gICAgZnJvbTogJ3RoZSBsaXN0JyxcbiAgICBhYm91dDogdW5rbm93bixcbiAgICByZWFkKHdvcmtzcGFjZSwgb3duKSB7XG4gICAgICBjb25zdCBzdXJyb3VuZGluZ3MgPSB7IHdvcmxkOiB3b3Jrc3BhY2Uud29ybGQoKSwgb25TZWNyZXQ6IHdvcmtzcGFjZS5yZWRhY3Rvci5hZGQgfTtcbiAgICAgIGNvbnN0IG5hbWVzID0gbGF5ZXJlZChvd24sIHZhcmlhYmxlTmFtZXMod29ya3NwYWNlLmxheWVycywgb3duLCBzdXJyb3VuZGluZ3MpKTtcbiAgICAgIGNvbnN0IHZhbHVlID0gdHJlZS5ldmFsdWF0ZShuZXcgRXZhbHVhdGlvbihuYW1lcywgc3Vycm91bmRpbmdzKSk7XG4gICAgICBpZiAodmFsdWUgIT09IG9taXR0ZWQgJiYgQXJyYXkuaXNBcnJheSh2YWx1ZSkpIHJldHVybiBudW1iZXJlZChhc1Jvd3ModmFsdWUgYXMgcmVhZG9ubHkgVmFsdWVbXSkpO1xuICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ2RhdGEtc2hhcGUnLCB7IHdoYXQ6ICdyb3dzIG11c3QgYmUgYSBsaXN0LCBhbmQgdGhlIGV4cHJlc3Npb24gZ2l2ZXMgbm9uZScsIHdoZXJlIH0pO1xuICAgIH0sXG4gIH07XG59XG5cbmNvbnN0IHVua25vd24gPSBhc3luYyAoKTogUHJvbWlzZTx1bmRlZmluZWQ+ID0+IHVuZGVmaW5lZDtcblxuLyoqIFdoYXQgaXMgbm8gbWFwIGJlY29tZXMgYSByb3cgd2l0aCB0aGUgY29sdW1uIGB2YWx1ZWAuICovXG5hc3luYyBmdW5jdGlvbiogYXNSb3dzKGl0ZW1zOiByZWFkb25seSBWYWx1ZVtdKTogQXN5bmNHZW5lcmF0b3I8VmFsdWVNYXA+IHtcbiAgZm9yIChjb25zdCBpdGVtIG9mIGl0ZW1zKSB5aWVsZCBpc1ZhbHVlTWFwKGl0ZW0pID8gaXRlbSA6IHsgdmFsdWU6IGl0ZW0gfTtcbn1cblxuYXN5bmMgZnVuY3Rpb24qIG51bWJlcmVkKHJvd3M6IEFzeW5jSXRlcmFibGU8VmFsdWVNYXA+KTogQXN5bmNHZW5lcmF0b3I8Um93PiB7XG4gIGxldCBudW1iZXIgPSAwO1xuICBmb3IgYXdhaXQgKGNvbnN0IGNvbHVtbnMgb2Ygcm93cykge1xuICAgIG51bWJlciArPSAxO1xuICAgIHlpZWxkIHsgbnVtYmVyLCBjb2x1bW5zIH07XG4gIH1cbn1cbiIsICIvKiogYGdpdmVgOiB2YWx1ZXMgZm9yIHRoZSBpbnB1dHMgb2YgYSByZXF1ZXN0IG9yIGEgdHJhaWwsIHdvcmtlZCBvdXQgd2l0aCB0aGUgbmFtZXMgb2YgdGhlIHdhbGsuICovXG5pbXBvcnQgeyB2YXJpYWJsZU5hbWVzIH0gZnJvbSAnLi4vY29sbGVjdGlvbi9sYXllcnMuanMnO1xuaW1wb3J0IHsgRXZhbHVhdGlvbiwgb21pdHRlZCB9IGZyb20gJy4uL2V4cHJlc3Npb24vZXZhbHVhdGlvbi5qcyc7XG5pbXBvcnQgeyBsYXllcmVkLCB0eXBlIE5hbWVkIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi9uYW1lcy5qcyc7XG5pbXBvcnQgeyBjb21waWxlVHJlZSwgdHlwZSBUcmVlIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi90cmVlLmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUgfSBmcm9tICcuLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB0eXBlIHsgU2NvcGUgfSBmcm9tICcuL3Njb3BlLmpzJztcbmltcG9ydCB0eXBlIHsgUGxhblJvb20gfSBmcm9tICcuL3N0ZXAta2luZC5qcyc7XG5pbXBvcnQgdHlwZSB7IFdvcmtzcGFjZSB9IGZyb20gJy4vd29ya3NwYWNlLmpzJztcblxuZXhwb3J0IHR5cGUgR2l2ZXMgPSBSZWFkb25seU1hcDxzdHJpbmcsIFRyZWU+O1xuXG5leHBvcnQgZnVuY3Rpb24gcGxhbkdpdmVzKFxuICB2YWx1ZXM6IFJlYWRvbmx5PFJlY29yZDxzdHJpbmcsIFZhbHVlPj4gfCB1bmRlZmluZWQsXG4gIHsgeWFtbCwgbG9hZHMgfTogUGljazxQbGFuUm9vbSwgJ3lhbWwnIHwgJ2xvYWRzJz4sXG4gIHBhdGg6IHJlYWRvbmx5IChzdHJpbmcgfCBudW1iZXIpW10sXG4pOiBHaXZlcyB7XG4gIHJldHVybiBuZXcgTWFwKFxuICAgIE9iamVjdC5lbnRyaWVzKHZhbHVlcyA/PyB7fSkubWFwKChba2V5LCB2YWx1ZV0pID0+IFtcbiAgICAgIGtleSxcbiAgICAgIGNvbXBpbGVUcmVlKHZhbHVlLCAoaW5uZXIpID0+IHlhbWwucG9zaXRpb24oWy4uLnBhdGgsIGtleSwgLi4uaW5uZXJdKSwgbG9hZHMpLFxuICAgIF0pLFxuICApO1xufVxuXG4vKiogV2hhdCBhIHdhbGsgZXZhbHVhdGVzIHdpdGg6IGl0cyBvd24gbmFtZXMsIHRoZW4gdGhlIHZhcmlhYmxlcy4gKi9cbmV4cG9ydCBmdW5jdGlvbiB3YWxrRXZhbHVhdGlvbih3b3Jrc3BhY2U6IFdvcmtzcGFjZSwgc2NvcGU6IFNjb3BlKTogRXZhbHVhdGlvbiB7XG4gIGNvbnN0IHN1cnJvdW5kaW5ncyA9IHsgd29ybGQ6IHdvcmtzcGFjZS53b3JsZCgpLCBvblNlY3JldDogd29ya3NwYWNlLnJlZGFjdG9yLmFkZCB9O1xuICByZXR1cm4gbmV3IEV2YWx1YXRpb24obGF5ZXJlZChzY29wZSwgdmFyaWFibGVOYW1lcyh3b3Jrc3BhY2UubGF5ZXJzLCBzY29wZSwgc3Vycm91bmRpbmdzKSksIHN1cnJvdW5kaW5ncyk7XG59XG5cbmV4cG9ydCBmdW5jdGlvbiBldmFsdWF0ZWQodHJlZTogVHJlZSwgZXZhbHVhdGlvbjogRXZhbHVhdGlvbiwgb3JpZ2luOiBzdHJpbmcpOiBOYW1lZCB8IHVuZGVmaW5lZCB7XG4gIGNvbnN0IGlubmVyID0gbmV3IEV2YWx1YXRpb24oZXZhbHVhdGlvbi5uYW1lcywgZXZhbHVhdGlvbik7XG4gIGNvbnN0IHZhbHVlID0gdHJlZS5ldmFsdWF0ZShpbm5lcik7XG4gIHJldHVybiB2YWx1ZSA9PT0gb21pdHRlZCA/IHVuZGVmaW5lZCA6IHsgdmFsdWUsIG9yaWdpbiwgc2VjcmV0OiBpbm5lci50b3VjaGVkU2VjcmV0IH07XG59XG5cbi8qKiBUaGUgdmFsdWUgZm9yIGFuIGlucHV0OiB3aGF0IHRoZSBzdGVwIGdpdmVzLCBlbHNlIHdoYXQgdGhlIHdhbGsga25vd3MgdW5kZXIgdGhhdCBuYW1lLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGdpdmVyKFxuICBnaXZlczogR2l2ZXMsXG4gIHdvcmtzcGFjZTogV29ya3NwYWNlLFxuICBzY29wZTogU2NvcGUsXG4gIGxhYmVsOiBzdHJpbmcsXG4pOiAoaW5wdXQ6IHN0cmluZykgPT4gTmFtZWQgfCB1bmRlZmluZWQge1xuICBsZXQgZXZhbHVhdGlvbjogRXZhbHVhdGlvbiB8IHVuZGVmaW5lZDtcbiAgcmV0dXJuIChpbnB1dCkgPT4ge1xuICAgIGNvbnN0IHRyZWUgPSBnaXZlcy5nZXQoaW5wdXQpO1xuICAgIGlmICghdHJlZSkgcmV0dXJuIHNjb3BlLmxvb2t1cChpbnB1dCk7XG4gICAgZXZhbHVhdGlvbiA/Pz0gd2Fsa0V2YWx1YXRpb24od29ya3NwYWNlLCBzY29wZSk7XG4gICAgcmV0dXJuIGV2YWx1YXRlZCh0cmVlLCBldmFsdWF0aW9uLCBgZ2l2ZW4gYnkgc3RlcCAke2xhYmVsfWApO1xuICB9O1xufVxuIiwgIi8qKiBTZWNyZXRzIHRoYXQgYSB3YWxrIHdpbGwgbmVlZCBhcmUgbG9va2VkIGZvciBiZWZvcmUgaXRzIGZpcnN0IHN0ZXA6IGEgbWlzc2luZyBvbmUgZmFpbHMgZXZlcnkgcm93IGFsaWtlLiAqL1xuaW1wb3J0IHR5cGUgeyBDb2xsZWN0aW9uLCBMb2FkZWQgfSBmcm9tICcuLi9jb2xsZWN0aW9uL2NvbGxlY3Rpb24uanMnO1xuaW1wb3J0IHR5cGUgeyBSZXF1ZXN0RmlsZSB9IGZyb20gJy4uL2NvbGxlY3Rpb24vZmlsZXMvcmVxdWVzdC1maWxlLmpzJztcbmltcG9ydCB0eXBlIHsgWWFtbEZpbGUgfSBmcm9tICcuLi9jb2xsZWN0aW9uL3lhbWwuanMnO1xuaW1wb3J0IHsgbmFtZXNVc2VkIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi9uYW1lcy11c2VkLmpzJztcbmltcG9ydCB7IHR5cGUgRmlsZVBvc2l0aW9uLCBQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHNlc3Npb25LaW5kcyB9IGZyb20gJy4uL3Nlc3Npb24vcmVnaXN0cnkuanMnO1xuaW1wb3J0IHR5cGUgeyBWYWx1ZSB9IGZyb20gJy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHR5cGUgeyBUcmFpbFBsYW4gfSBmcm9tICcuL3N0ZXAta2luZC5qcyc7XG5pbXBvcnQgdHlwZSB7IFdvcmtzcGFjZSB9IGZyb20gJy4vd29ya3NwYWNlLmpzJztcblxuLyoqIEEgc2VjcmV0IGJ5IGEgbmFtZSwgYW5kIGEga2V5LCB0aGF0IGFyZSB3cml0dGVuIG91dC4gKi9cbmV4cG9ydCBpbnRlcmZhY2UgU2VjcmV0VXNlIHtcbiAgcmVhZG9ubHkgbmFtZTogc3RyaW5nO1xuICByZWFkb25seSBrZXk6IHN0cmluZyB8IHVuZGVmaW5lZDtcbiAgcmVhZG9ubHkgd2hlcmU6IEZpbGVQb3NpdGlvbjtcbn1cblxuLyoqIFRob3NlIHRoYXQgYXJlIGFsd2F5cyBuZWVkZWQgd2hlcmUgdGhlIHZhbHVlIGlzLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHNlY3JldHNJbihcbiAgdmFsdWU6IHVua25vd24sXG4gIHlhbWw6IFBpY2s8WWFtbEZpbGUsICdwb3NpdGlvbic+LFxuICBwYXRoOiByZWFkb25seSAoc3RyaW5nIHwgbnVtYmVyKVtdID0gW10sXG4pOiBTZWNyZXRVc2VbXSB7XG4gIHJldHVybiBuYW1lc1VzZWQoKHZhbHVlID8/IG51bGwpIGFzIFZhbHVlLCBwYXRoKS5mbGF0TWFwKCh7IHNlY3JldCwga2V5cyA9IFtdLCBwYXRoOiBhdCwgb3B0aW9uYWwsIGNvbXB1dGVkIH0pID0+XG4gICAgc2VjcmV0ID09PSB1bmRlZmluZWQgfHwgb3B0aW9uYWwgfHwgY29tcHV0ZWQgPyBbXSA6IFt7IG5hbWU6IHNlY3JldCwga2V5OiBrZXlzWzFdLCB3aGVyZTogeWFtbC5wb3NpdGlvbihbLi4uYXRdKSB9XSxcbiAgKTtcbn1cblxuY29uc3QgcGFydHMgPSBbJ3VybCcsICdwYXRoJywgJ3F1ZXJ5JywgJ2hlYWRlcnMnLCAnY29va2llcycsICdib2R5J10gYXMgY29uc3Q7XG5cbi8qKiBPZiBhIHJlcXVlc3QsIGl0cyBzaWduYXR1cmUsIGFuZCB0aGUgc2Vzc2lvbnMgdGhhdCBuZWVkIG5vdCBiZSBvcGVuZWQgZmlyc3QuICovXG5leHBvcnQgZnVuY3Rpb24gc2VjcmV0c09mKFxuICB7IGNvbGxlY3Rpb24gfTogUGljazxXb3Jrc3BhY2UsICdjb2xsZWN0aW9uJz4sXG4gIHsgY29udGVudCwgeWFtbCwgbmFtZSB9OiBMb2FkZWQ8UmVxdWVzdEZpbGU+LFxuICBzZXNzaW9uczogcmVhZG9ubHkgc3RyaW5nW10sXG4gIHNpZ25hdHVyZTogc3RyaW5nIHwgdW5kZWZpbmVkLFxuKTogU2VjcmV0VXNlW10ge1xuICByZXR1cm4gW1xuICAgIC4uLnBhcnRzLmZsYXRNYXAoKHBhcnQpID0+IHNlY3JldHNJbihjb250ZW50W3BhcnRdLCB5YW1sLCBbcGFydF0pKSxcbiAgICAuLi5jb2xsZWN0aW9uXG4gICAgICAuZGVmYXVsdHMobmFtZSlcbiAgICAgIC5mbGF0TWFwKChkZWZhdWx0cykgPT5cbiAgICAgICAgKFsnaGVhZGVycycsICdxdWVyeSddIGFzIGNvbnN0KS5mbGF0TWFwKChwYXJ0KSA9PlxuICAgICAgICAgIE9iamVjdC5lbnRyaWVzKGRlZmF1bHRzLmNvbnRlbnRbcGFydF0gPz8ge30pLmZsYXRNYXAoKFtrZXksIHZhbHVlXSkgPT5cbiAgICAgICAgICAgIE9iamVjdC5rZXlzKGNvbnRlbnRbcGFydF0gPz8ge30pLnNvbWUoKG93bikgPT4gb3duLnRvTG93ZXJDYXNlKCkgPT09IGtleS50b0xvd2VyQ2FzZSgpKVxuICAgICAgICAgICAgICA/IFtdXG4gICAgICAgICAgICAgIDogc2VjcmV0c0luKHZhbHVlLCBkZWZhdWx0cy55YW1sLCBbcGFydCwga2V5XSksXG4gICAgICAgICAgKSxcbiAgICAgICAgKSxcbiAgICAgICksXG4gICAgLi4uKHNpZ25hdHVyZSA9PT0gdW5kZWZpbmVkID8gW10gOiBmaWxlU2VjcmV0cyhjb2xsZWN0aW9uLCAnc2lnbmF0dXJlJywgc2lnbmF0dXJlKSksXG4gICAgLi4uc2Vzc2lvbnMuZmxhdE1hcCgoc2Vzc2lvbikgPT4gZmlsZVNlY3JldHMoY29sbGVjdGlvbiwgJ3Nlc3Npb24nLCBzZXNzaW9uKSksXG4gIF07XG59XG5cbi8qKiBXaGF0IG9wZW5zIGEgc2Vzc2lvbiBtYXkgaGF2ZSBvcGVuZWQgaXQgYWxyZWFkeS4gKi9cbmZ1bmN0aW9uIGZpbGVTZWNyZXRzKGNvbGxlY3Rpb246IENvbGxlY3Rpb24sIGtpbmQ6ICdzaWduYXR1cmUnIHwgJ3Nlc3Npb24nLCBnaXZlbjogc3RyaW5nKTogU2VjcmV0VXNlW10ge1xuICB0cnkge1xuICAgIGNvbnN0IHsgY29udGVudCwgeWFtbCB9ID0gY29sbGVjdGlvbi5yZWFkKGtpbmQsIGdpdmVuKTtcbiAgICBpZiAoa2luZCA9PT0gJ3Nlc3Npb24nICYmIHNlc3Npb25LaW5kcy5nZXQoY29udGVudC5raW5kID8/ICcnKT8ub3BlbikgcmV0dXJuIFtdO1xuICAgIGNvbnN0IHsgZXhhbXBsZXM6IF8sIGFib3V0OiBfXywgLi4udXNlZCB9ID0gY29udGVudCBhcyBSZWNvcmQ8c3RyaW5nLCB1bmtub3duPjtcbiAgICByZXR1cm4gc2VjcmV0c0luKHVzZWQsIHlhbWwpO1xuICB9IGNhdGNoIHtcbiAgICAvLyBXaGF0IGlzIHdyb25nIHdpdGggdGhlIGZpbGUgaXMgdG9sZCB3aGVuIGl0IGlzIHVzZWQuXG4gICAgcmV0dXJuIFtdO1xuICB9XG59XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gc2VjcmV0LW1pc3Npbmc6IGFsbCBvZiB0aGVtIGF0IG9uY2UgKi9cbmV4cG9ydCBmdW5jdGlvbiBkZW1hbmRTZWNyZXRzKHdvcmtzcGFjZTogV29ya3NwYWNlLCBwbGFuczogcmVhZG9ubHkgVHJhaWxQbGFuW10pOiB2b2lkIHtcbiAgY29uc3Qgd29ybGQgPSB3b3Jrc3BhY2Uud29ybGQoKTtcbiAgY29uc3QgbWlzc2luZyA9IG5ldyBNYXA8c3RyaW5nLCBTZWNyZXRVc2U+KCk7XG4gIGZvciAoY29uc3QgeyBzdGVwcyB9IG9mIHBsYW5zKSB7XG4gICAgZm9yIChjb25zdCB7IHNlY3JldHMsIHdoZW4gfSBvZiBzdGVwcykge1xuICAgICAgLy8gV2hldGhlciBhIHN0ZXAgd2l0aCBhIGNvbmRpdGlvbiBpcyB0YWtlbiBpcyBrbm93biBvbmx5IHRoZW4uXG4gICAgICBpZiAod2hlbikgY29udGludWU7XG4gICAgICBmb3IgKGNvbnN0IHVzZSBvZiBzZWNyZXRzKSB7XG4gICAgICAgIGNvbnN0IGZ1bGwgPSB1c2Uua2V5ID09PSB1bmRlZmluZWQgPyB1c2UubmFtZSA6IGAke3VzZS5uYW1lfVske3VzZS5rZXl9XWA7XG4gICAgICAgIGlmICghbWlzc2luZy5oYXMoZnVsbCkgJiYgd29ybGQuc2VjcmV0KHVzZS5uYW1lLCB1c2Uua2V5KSA9PT0gdW5kZWZpbmVkKSBtaXNzaW5nLnNldChmdWxsLCB1c2UpO1xuICAgICAgfVxuICAgIH1cbiAgfVxuICBjb25zdCBbZmlyc3RdID0gbWlzc2luZztcbiAgaWYgKCFmaXJzdCkgcmV0dXJuO1xuICBjb25zdCBuYW1lcyA9IFsuLi5taXNzaW5nLmtleXMoKV07XG4gIHRocm93IG5ldyBQcm9ibGVtKCdzZWNyZXQtbWlzc2luZycsIHtcbiAgICB3aGF0OiBuYW1lcy5sZW5ndGggPT09IDEgPyBgdGhlIHNlY3JldCAke25hbWVzWzBdfSBpcyBub3Qgc2V0YCA6IGB0aGUgc2VjcmV0cyAke25hbWVzLmpvaW4oJywgJyl9IGFyZSBub3Qgc2V0YCxcbiAgICB3aGVyZTogZmlyc3RbMV0ud2hlcmUsXG4gICAgcmVtZWR5OiBgJHtuYW1lcy5tYXAoKG5hbWUpID0+IGBlY2hvLXRyYWlsIHNlY3JldCBzZXQgJHsvW1tcXF1dLy50ZXN0KG5hbWUpID8gYCcke25hbWV9J2AgOiBuYW1lfWApLmpvaW4oJywgJyl9OyBub3RoaW5nIHdhcyBzZW50YCxcbiAgICBkYXRhOiB7IG5hbWVzIH0sXG4gIH0pO1xufVxuIiwgIi8qKiBgY2hvb3NlYDogYSBwZXJzb24gcGlja3Mgb25lIG9mIGEgbGlzdDsgdW5hdHRlbmRlZCwgYC0tc2V0YCBzYXlzIHdoaWNoLiAqL1xuaW1wb3J0IHR5cGUgeyBDaG9vc2VTdGVwRmlsZSB9IGZyb20gJy4uLy4uL2NvbGxlY3Rpb24vZmlsZXMvdHJhaWwtZmlsZS5qcyc7XG5pbXBvcnQgeyBjb21waWxlVHJlZSwgdHlwZSBUcmVlIH0gZnJvbSAnLi4vLi4vZXhwcmVzc2lvbi90cmVlLmpzJztcbmltcG9ydCB7IG5lYXJlc3RIaW50IH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9uZWFyZXN0LmpzJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgdGV4dE9mIH0gZnJvbSAnLi4vLi4vdmFsdWUvdGV4dC5qcyc7XG5pbXBvcnQgdHlwZSB7IFZhbHVlIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyBldmFsdWF0ZWQsIHdhbGtFdmFsdWF0aW9uIH0gZnJvbSAnLi4vZ2l2aW5nLmpzJztcbmltcG9ydCB7IFNjb3BlIH0gZnJvbSAnLi4vc2NvcGUuanMnO1xuaW1wb3J0IHsgc2VjcmV0c0luIH0gZnJvbSAnLi4vc2VjcmV0cy1haGVhZC5qcyc7XG5pbXBvcnQgdHlwZSB7IFN0ZXBLaW5kLCBXYWxrIH0gZnJvbSAnLi4vc3RlcC1raW5kLmpzJztcblxuZXhwb3J0IGludGVyZmFjZSBDaG9pY2Uge1xuICByZWFkb25seSBsYWJlbDogc3RyaW5nO1xuICByZWFkb25seSB2YWx1ZTogVmFsdWU7XG4gIHJlYWRvbmx5IHNlY3JldDogYm9vbGVhbjtcbn1cblxuZXhwb3J0IGNvbnN0IGNob29zZTogU3RlcEtpbmQ8Q2hvb3NlU3RlcEZpbGU+ID0ge1xuICBuYW1lOiAnY2hvb3NlJyxcbiAgZml0czogKGZpbGUpOiBmaWxlIGlzIENob29zZVN0ZXBGaWxlID0+ICdjaG9vc2UnIGluIGZpbGUsXG4gIGFzeW5jIHBsYW4oeyBjaG9vc2U6IHNwZWMsIG5hbWUgfSwgeyB5YW1sLCBwYXRoLCBsb2FkcyB9KSB7XG4gICAgY29uc3QgYXQgPSAoa2V5OiBzdHJpbmcpID0+IChpbm5lcjogcmVhZG9ubHkgKHN0cmluZyB8IG51bWJlcilbXSkgPT5cbiAgICAgIHlhbWwucG9zaXRpb24oWy4uLnBhdGgsICdjaG9vc2UnLCBrZXksIC4uLmlubmVyXSk7XG4gICAgY29uc3QgZnJvbSA9IGNvbXBpbGVUcmVlKHNwZWMuZnJvbSwgYXQoJ2Zyb20nKSwgbG9hZHMpO1xuICAgIGNvbnN0IGxhYmVscyA9IHNwZWMubGFiZWwgPT09IHVuZGVmaW5lZCA/IHVuZGVmaW5lZCA6IGNvbXBpbGVUcmVlKHNwZWMubGFiZWwsIGF0KCdsYWJlbCcpLCBsb2Fkcyk7XG4gICAgY29uc3QgdmFsdWVzID0gc3BlYy52YWx1ZSA9PT0gdW5kZWZpbmVkID8gdW5kZWZpbmVkIDogY29tcGlsZVRyZWUoc3BlYy52YWx1ZSwgYXQoJ3ZhbHVlJyksIGxvYWRzKTtcbiAgICBjb25zdCBsYWJlbCA9IG5hbWUgPz8gYGNob29zZSAke3NwZWMuYXN9YDtcbiAgICByZXR1cm4ge1xuICAgICAga2luZDogJ2Nob29zZScsXG4gICAgICBsYWJlbCxcbiAgICAgIGNoYW5nZXM6IDAsXG4gICAgICByZXF1ZXN0czogW10sXG4gICAgICB0YWtlczogW3NwZWMuYXNdLFxuICAgICAgc2VjcmV0czogc2VjcmV0c0luKHNwZWMsIHlhbWwsIFsuLi5wYXRoLCAnY2hvb3NlJ10pLFxuICAgICAgYXN5bmMgd2Fsayh3YWxrKSB7XG4gICAgICAgIGNvbnN0IGNob2ljZXMgPSBjaG9pY2VzSW4oZnJvbSwgbGFiZWxzLCB2YWx1ZXMsIHdhbGssIGxhYmVsKTtcbiAgICAgICAgY29uc3QgZ2l2ZW4gPSB3YWxrLndvcmtzcGFjZS5zZXR0aW5ncy5nZXQoc3BlYy5hcyk7XG4gICAgICAgIGNvbnN0IGNob3NlbiA9IGdpdmVuID09PSB1bmRlZmluZWQgPyBhd2FpdCBhc2soc3BlYy5hcywgY2hvaWNlcywgd2FsaykgOiBmaXR0aW5nKHNwZWMuYXMsIGdpdmVuLCBjaG9pY2VzKTtcbiAgICAgICAgY29uc3QgeyB2YWx1ZSwgc2VjcmV0IH0gPSBjaG9zZW47XG4gICAgICAgIHdhbGsuc2NvcGUuc2V0KHNwZWMuYXMsIHsgdmFsdWUsIHNlY3JldCwgb3JpZ2luOiBgY2hvc2VuIGJ5IHN0ZXAgJHtsYWJlbH1gIH0pO1xuICAgICAgICByZXR1cm4geyBzZW50OiB1bmRlZmluZWQsIGtlcHQ6IFtzcGVjLmFzXSwgcHJvYmxlbXM6IFtdLCB0b2xkOiB7IGNob3NlbjogY2hvc2VuLmxhYmVsIH0gfTtcbiAgICAgIH0sXG4gICAgICByZXN0b3JlOiAoKSA9PiB1bmRlZmluZWQsXG4gICAgfTtcbiAgfSxcbn07XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gZGF0YS1zaGFwZTogbm8gbGlzdCwgb3IgYW4gZW1wdHkgb25lICovXG5mdW5jdGlvbiBjaG9pY2VzSW4oXG4gIGZyb206IFRyZWUsXG4gIGxhYmVsczogVHJlZSB8IHVuZGVmaW5lZCxcbiAgdmFsdWVzOiBUcmVlIHwgdW5kZWZpbmVkLFxuICB7IHdvcmtzcGFjZSwgc2NvcGUgfTogV2FsayxcbiAgbGFiZWw6IHN0cmluZyxcbik6IHJlYWRvbmx5IENob2ljZVtdIHtcbiAgY29uc3QgbGlzdCA9IGV2YWx1YXRlZChmcm9tLCB3YWxrRXZhbHVhdGlvbih3b3Jrc3BhY2UsIHNjb3BlKSwgbGFiZWwpO1xuICBpZiAoIWxpc3QgfHwgIUFycmF5LmlzQXJyYXkobGlzdC52YWx1ZSkgfHwgbGlzdC52YWx1ZS5sZW5ndGggPT09IDApIHtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgnZGF0YS1zaGFwZScsIHtcbiAgICAgIHdoYXQ6IGAke2xhYmVsfTogdGhlcmUgaXMgbm90aGluZyB0byBjaG9vc2UgZnJvbWAsXG4gICAgICBjYXVzZTogQXJyYXkuaXNBcnJheShsaXN0Py52YWx1ZSkgPyAndGhlIGxpc3QgaXMgZW1wdHknIDogJ2Zyb20gaXMgbm8gbGlzdCcsXG4gICAgfSk7XG4gIH1cbiAgcmV0dXJuIChsaXN0LnZhbHVlIGFzIHJlYWRvbmx5IFZhbHVlW10pLm1hcCgoaXRlbSkgPT4ge1xuICAgIGNvbnN0IG5hbWVkID0gbmV3IE1hcChbWydpdGVtJywgeyB2YWx1ZTogaXRlbSwgc2VjcmV0OiBsaXN0LnNlY3JldCwgb3JpZ2luOiBsYWJlbCB9XV0pO1xuICAgIGNvbnN0IG93biA9IHdhbGtFdmFsdWF0aW9uKHdvcmtzcGFjZSwgbmV3IFNjb3BlKG5hbWVkLCBsYWJlbCwgc2NvcGUpKTtcbiAgICBjb25zdCB2YWx1ZSA9IHZhbHVlcyA/IGV2YWx1YXRlZCh2YWx1ZXMsIG93biwgbGFiZWwpIDogdW5kZWZpbmVkO1xuICAgIGNvbnN0IHRleHQgPSBsYWJlbHMgPyBldmFsdWF0ZWQobGFiZWxzLCBvd24sIGxhYmVsKT8udmFsdWUgOiBpdGVtO1xuICAgIHJldHVybiB7XG4gICAgICBsYWJlbDogdGV4dE9mKHRleHQgPz8gaXRlbSksXG4gICAgICB2YWx1ZTogdmFsdWU/LnZhbHVlID8/IGl0ZW0sXG4gICAgICBzZWNyZXQ6ICh2YWx1ZT8uc2VjcmV0ID8/IGxpc3Quc2VjcmV0KSA9PT0gdHJ1ZSxcbiAgICB9O1xuICB9KTtcbn1cblxuLyoqIEB0aHJvd3MgUHJvYmxlbSBpbnB1dC1taXNzaW5nOiBub2JvZHkgaXMgdGhlcmUgdG8gYXNrICovXG5hc3luYyBmdW5jdGlvbiBhc2sobmFtZTogc3RyaW5nLCBjaG9pY2VzOiByZWFkb25seSBDaG9pY2VbXSwgeyB3b3Jrc3BhY2UgfTogV2Fsayk6IFByb21pc2U8Q2hvaWNlPiB7XG4gIGlmICghd29ya3NwYWNlLmNob29zZSkge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCdpbnB1dC1taXNzaW5nJywge1xuICAgICAgd2hhdDogYHNvbWVib2R5IGhhcyB0byBjaG9vc2UgJHtuYW1lfSwgYW5kIG5vYm9keSBpcyBhdCB0aGUgdGVybWluYWxgLFxuICAgICAgcmVtZWR5OiBgLS1zZXQgJHtuYW1lfT1MQUJFTC1PUi1WQUxVRTsgdGhlcmUgYXJlOiAke3NvbWUoY2hvaWNlcyl9YCxcbiAgICAgIGRhdGE6IHsgaW5wdXQ6IG5hbWUgfSxcbiAgICB9KTtcbiAgfVxuICByZXR1cm4gY2hvaWNlc1tcbiAgICBhd2FpdCB3b3Jrc3BhY2UuY2hvb3NlKFxuICAgICAgbmFtZSxcbiAgICAgIGNob2ljZXMubWFwKCh7IGxhYmVsIH0pID0+IGxhYmVsKSxcbiAgICApXG4gIF0gYXMgQ2hvaWNlO1xufVxuXG4vKiogQnkgaXRzIHdob2xlIHZhbHVlIG9yIGxhYmVsLCBlbHNlIGJ5IGEgcGFydCBvZiB0aGUgbGFiZWwgdGhhdCBvbmx5IG9uZSBoYXMuIEB0aHJvd3MgUHJvYmxlbSBpbnB1dC12YWx1ZSwgbmFtZS1hbWJpZ3VvdXMgKi9cbmZ1bmN0aW9uIGZpdHRpbmcobmFtZTogc3RyaW5nLCBnaXZlbjogc3RyaW5nLCBjaG9pY2VzOiByZWFkb25seSBDaG9pY2VbXSk6IENob2ljZSB7XG4gIGNvbnN0IHdhbnRlZCA9IGdpdmVuLnRyaW0oKS50b0xvd2VyQ2FzZSgpO1xuICBjb25zdCB3aG9sZSA9IGNob2ljZXMuZmlsdGVyKCh7IGxhYmVsLCB2YWx1ZSB9KSA9PiB0ZXh0T2YodmFsdWUpID09PSBnaXZlbiB8fCBsYWJlbCA9PT0gZ2l2ZW4pO1xuICBjb25zdCBmb3VuZCA9XG4gICAgd2hvbGUubGVuZ3RoID4gMCA/IHdob2xlIDogY2hvaWNlcy5maWx0ZXIoKHsgbGFiZWwgfSkgPT4gd2FudGVkICE9PSAnJyAmJiBsYWJlbC50b0xvd2VyQ2FzZSgpLmluY2x1ZGVzKHdhbnRlZCkpO1xuICBjb25zdCBbZmlyc3RdID0gZm91bmQ7XG4gIGlmIChmaXJzdCAmJiBmb3VuZC5sZW5ndGggPT09IDEpIHJldHVybiBmaXJzdDtcbiAgaWYgKGZpcnN0KSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ25hbWUtYW1iaWd1b3VzJywge1xuICAgICAgd2hhdDogYC0tc2V0ICR7bmFtZX09JHtnaXZlbn0gZml0cyAke2ZvdW5kLmxlbmd0aH0gb2YgdGhlbTogJHtzb21lKGZvdW5kKX1gLFxuICAgICAgcmVtZWR5OiAnZ2l2ZSB0aGUgd2hvbGUgbGFiZWwsIG9yIHRoZSB2YWx1ZScsXG4gICAgICBkYXRhOiB7IGlucHV0OiBuYW1lLCBmaXR0aW5nOiBmb3VuZC5tYXAoKHsgbGFiZWwgfSkgPT4gbGFiZWwpIH0sXG4gICAgfSk7XG4gIH1cbiAgdGhyb3cgbmV3IFByb2JsZW0oJ2lucHV0LXZhbHVlJywge1xuICAgIHdoYXQ6IGAtLXNldCAke25hbWV9PSR7Z2l2ZW59IGZpdHMgbm9uZSBvZiAke2Nob2ljZXMubGVuZ3RofWAsXG4gICAgcmVtZWR5OlxuICAgICAgbmVhcmVzdEhpbnQoXG4gICAgICAgIGdpdmVuLFxuICAgICAgICBjaG9pY2VzLm1hcCgoeyBsYWJlbCB9KSA9PiBsYWJlbCksXG4gICAgICApID8/IGB0aGVyZSBhcmU6ICR7c29tZShjaG9pY2VzKX1gLFxuICAgIGRhdGE6IHsgaW5wdXQ6IG5hbWUgfSxcbiAgfSk7XG59XG5cbmZ1bmN0aW9uIHNvbWUoY2hvaWNlczogcmVhZG9ubHkgQ2hvaWNlW10pOiBzdHJpbmcge1xuICBjb25zdCBsYWJlbHMgPSBjaG9pY2VzLnNsaWNlKDAsIDgpLm1hcCgoeyBsYWJlbCB9KSA9PiBsYWJlbCk7XG4gIHJldHVybiBgJHtsYWJlbHMuam9pbignOyAnKX0ke2Nob2ljZXMubGVuZ3RoID4gbGFiZWxzLmxlbmd0aCA/IGA7IGFuZCAke2Nob2ljZXMubGVuZ3RoIC0gbGFiZWxzLmxlbmd0aH0gbW9yZWAgOiAnJ31gO1xufVxuIiwgIi8qKiBTdGVwcyB0aGF0IHNlbmQgdGhlaXIgcmVxdWVzdCBtb3JlIHRoYW4gb25jZSwgb3Igb25jZSBtb3JlIHdoZW4gYSBydW4gaXMgZ29uZSBvbiB3aXRoOiBpdCBtdXN0IGNoYW5nZSBub3RoaW5nLiAqL1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgdHlwZSB7IFByZXBhcmVkUmVxdWVzdCB9IGZyb20gJy4uL3ByZXBhcmUuanMnO1xuaW1wb3J0IHR5cGUgeyBQbGFuUm9vbSB9IGZyb20gJy4uL3N0ZXAta2luZC5qcyc7XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gZmlsZS1zaGFwZSAqL1xuZXhwb3J0IGZ1bmN0aW9uIGRlbWFuZFVuY2hhbmdpbmcoeyBwbGFuIH06IFByZXBhcmVkUmVxdWVzdCwga2V5OiAncG9sbCcgfCAnY29tcGFyZScsIHsgeWFtbCwgcGF0aCB9OiBQbGFuUm9vbSk6IHZvaWQge1xuICBpZiAoIXBsYW4uY2hhbmdlcykgcmV0dXJuO1xuICB0aHJvdyBuZXcgUHJvYmxlbSgnZmlsZS1zaGFwZScsIHtcbiAgICB3aGF0OiBgJHtrZXl9IHNlbmRzICR7cGxhbi5uYW1lfSBtb3JlIHRoYW4gb25jZSwgYW5kICR7cGxhbi5tZXRob2R9IGNoYW5nZXMgc29tZXRoaW5nYCxcbiAgICB3aGVyZTogeWFtbC5wb3NpdGlvbihbLi4ucGF0aCwga2V5XSksXG4gICAgcmVtZWR5OlxuICAgICAgJ3doZXJlIGl0IGNoYW5nZXMgbm90aGluZywgd3JpdGUgY2hhbmdlczogZmFsc2UgaW4gaXRzIHJlcXVlc3QgZmlsZTsgZWxzZSBzZW5kIGl0IGluIGEgc3RlcCBiZWZvcmUgdGhpcyBvbmUnLFxuICB9KTtcbn1cbiIsICIvKiogYGNvbXBhcmVgOiBmYWlscyB3aGVyZSB0d28gYW5zd2VycyBvciBkb2N1bWVudHMgZGlmZmVyLCBvciBkaWZmZXIgZWxzZXdoZXJlIHRoYW4gdGhleSBzaG91bGQuICovXG5pbXBvcnQgdHlwZSB7IENvbXBhcmVTdGVwRmlsZSwgU2lkZUZpbGUgfSBmcm9tICcuLi8uLi9jb2xsZWN0aW9uL2ZpbGVzL3RyYWlsLWZpbGUuanMnO1xuaW1wb3J0IHsgYW5zd2VyRGlmZmVyZW5jZXMsIHR5cGUgQ29tcGFyZWRBbnN3ZXIgfSBmcm9tICcuLi8uLi9jb21wYXJpc29uL2Fuc3dlcnMuanMnO1xuaW1wb3J0IHsgY292ZXJpbmcgfSBmcm9tICcuLi8uLi9jb21wYXJpc29uL2NvdW50aW5nLmpzJztcbmltcG9ydCB0eXBlIHsgRGlmZmVyZW5jZSB9IGZyb20gJy4uLy4uL2NvbXBhcmlzb24vZGlmZmVyZW5jZXMuanMnO1xuaW1wb3J0IHsgY29tcGlsZVRyZWUgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL3RyZWUuanMnO1xuaW1wb3J0IHsgY29tcGlsZU1hdGNoZXJzIH0gZnJvbSAnLi4vLi4vbWF0Y2hlci9jb21waWxlLmpzJztcbmltcG9ydCB0eXBlIHsgQ2hlY2sgfSBmcm9tICcuLi8uLi9tYXRjaGVyL21hdGNoZXIuanMnO1xuaW1wb3J0IHsgc2hvcnRUZXh0IH0gZnJvbSAnLi4vLi4vbWF0Y2hlci9yZWFkaW5nLmpzJztcbmltcG9ydCB7IGFzUHJvYmxlbSwgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBkdXJhdGlvblRleHQgfSBmcm9tICcuLi8uLi92YWx1ZS9tZWFzdXJlcy5qcyc7XG5pbXBvcnQgdHlwZSB7IFZhbHVlIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyBlY2hvU2lkZSwgZmlsZVNpZGUsIHNlbnRTaWRlIH0gZnJvbSAnLi4vY29tcGFyZS1zaWRlLmpzJztcbmltcG9ydCB7IGV2YWx1YXRlZCwgZ2l2ZXIsIHBsYW5HaXZlcywgd2Fsa0V2YWx1YXRpb24gfSBmcm9tICcuLi9naXZpbmcuanMnO1xuaW1wb3J0IHR5cGUgeyBQcmVwYXJlZFJlcXVlc3QgfSBmcm9tICcuLi9wcmVwYXJlLmpzJztcbmltcG9ydCB7IHNlY3JldHNJbiB9IGZyb20gJy4uL3NlY3JldHMtYWhlYWQuanMnO1xuaW1wb3J0IHsgc2VuZFJlcXVlc3QgfSBmcm9tICcuLi9zZW5kLmpzJztcbmltcG9ydCB0eXBlIHsgUGxhblJvb20sIFN0ZXBLaW5kLCBXYWxrIH0gZnJvbSAnLi4vc3RlcC1raW5kLmpzJztcbmltcG9ydCB7IGRlbWFuZFVuY2hhbmdpbmcgfSBmcm9tICcuL3VuY2hhbmdpbmcuanMnO1xuXG5pbnRlcmZhY2UgU2lkZSB7XG4gIHJlYWRvbmx5IGxhYmVsOiBzdHJpbmc7XG4gIHJlYWRvbmx5IHJlcXVlc3Q6IFByZXBhcmVkUmVxdWVzdCB8IHVuZGVmaW5lZDtcbiAgLyoqIHVuZGVmaW5lZCB3aGVyZSBub3RoaW5nIGlzIHNlbnQuICovXG4gIGFuc3dlcih3YWxrOiBXYWxrKTogUHJvbWlzZTxDb21wYXJlZEFuc3dlciB8IHVuZGVmaW5lZD47XG59XG5cbmV4cG9ydCBjb25zdCBjb21wYXJlOiBTdGVwS2luZDxDb21wYXJlU3RlcEZpbGU+ID0ge1xuICBuYW1lOiAnY29tcGFyZScsXG4gIGZpdHM6IChmaWxlKTogZmlsZSBpcyBDb21wYXJlU3RlcEZpbGUgPT4gJ2NvbXBhcmUnIGluIGZpbGUsXG4gIGFzeW5jIHBsYW4oZmlsZSwgcm9vbSkge1xuICAgIGNvbnN0IHsgeWFtbCwgcGF0aCwgbG9hZHMsIHdvcmtzcGFjZSB9ID0gcm9vbTtcbiAgICBjb25zdCBzaWRlczogU2lkZVtdID0gW107XG4gICAgZm9yIChjb25zdCBbaW5kZXgsIHNpZGVdIG9mIGZpbGUuY29tcGFyZS5lbnRyaWVzKCkpIHNpZGVzLnB1c2goYXdhaXQgcGxhblNpZGUoc2lkZSwgaW5kZXgsIHJvb20pKTtcbiAgICBjb25zdCBbb25lLCBvdGhlcl0gPSBzaWRlcyBhcyBbU2lkZSwgU2lkZV07XG4gICAgY29uc3QgbGFiZWwgPSBmaWxlLm5hbWUgPz8gYGNvbXBhcmUgJHtvbmUubGFiZWx9IHdpdGggJHtvdGhlci5sYWJlbH1gO1xuICAgIGNvbnN0IHsgaWdub3JpbmcsIG9ubHksIHVub3JkZXJlZCwgY2hhbmdlZCB9ID0gZmlsZTtcbiAgICBjb25zdCByYXRpbyA9IGZpbGVbJ3RpbWUtcmF0aW8nXSA9PT0gdW5kZWZpbmVkID8gdW5kZWZpbmVkIDogcmF0aW9DaGVjayhmaWxlWyd0aW1lLXJhdGlvJ10pO1xuXG4gICAgZnVuY3Rpb24gcmF0aW9DaGVjayhleHBlY3RlZDogVmFsdWUpOiBDaGVjayB7XG4gICAgICB0cnkge1xuICAgICAgICByZXR1cm4gY29tcGlsZU1hdGNoZXJzKGV4cGVjdGVkLCB7IHN1YmplY3Q6IHsgc3RyaWN0OiBmYWxzZSB9LCBsb2FkcywgcmVhZFRleHQ6IHdvcmtzcGFjZS5yZWFkVGV4dCB9KTtcbiAgICAgIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgICAgIHRocm93IGFzUHJvYmxlbShlcnJvcikuYXQoeWFtbC5wb3NpdGlvbihbLi4ucGF0aCwgJ3RpbWUtcmF0aW8nXSkpO1xuICAgICAgfVxuICAgIH1cblxuICAgIHJldHVybiB7XG4gICAgICBraW5kOiAnY29tcGFyZScsXG4gICAgICBsYWJlbCxcbiAgICAgIGNoYW5nZXM6IDAsXG4gICAgICByZXF1ZXN0czogc2lkZXMuZmxhdE1hcCgoeyByZXF1ZXN0IH0pID0+IHJlcXVlc3QgPz8gW10pLFxuICAgICAgc2VjcmV0czogc2VjcmV0c0luKGZpbGUuY29tcGFyZSwgeWFtbCwgWy4uLnBhdGgsICdjb21wYXJlJ10pLFxuICAgICAgYXN5bmMgd2Fsayh3YWxrKSB7XG4gICAgICAgIC8vIE9uZSBhZnRlciB0aGUgb3RoZXI6IHRoZSBmaXJzdCBtYXkgYmUgd2hhdCB0aGUgc2Vjb25kIHdhaXRzIGZvci5cbiAgICAgICAgY29uc3QgbGVmdCA9IGF3YWl0IG9uZS5hbnN3ZXIod2Fsayk7XG4gICAgICAgIGNvbnN0IHJpZ2h0ID0gYXdhaXQgb3RoZXIuYW5zd2VyKHdhbGspO1xuICAgICAgICAvLyBXaGVyZSBub3RoaW5nIGlzIHNlbnQsIHdoYXQgaXMgY29tcGFyZWQgbWF5IGJlIG1hZGUgb2YgZXhhbXBsZXMuXG4gICAgICAgIGlmICghbGVmdCB8fCAhcmlnaHQgfHwgd2Fsay53b3Jrc3BhY2UuZHJ5UnVuKSByZXR1cm4geyBzZW50OiB1bmRlZmluZWQsIGtlcHQ6IFtdLCBwcm9ibGVtczogW10gfTtcbiAgICAgICAgY29uc3QgZm91bmQgPSBhbnN3ZXJEaWZmZXJlbmNlcyhsZWZ0LCByaWdodCwgeyBpZ25vcmluZywgb25seSwgdW5vcmRlcmVkIH0pO1xuICAgICAgICBjb25zdCB7IHdyb25nLCBtaXNzaW5nIH0gPSBjaGFuZ2VkID8gYXNJbnRlbmRlZChmb3VuZCwgY2hhbmdlZCkgOiB7IHdyb25nOiBmb3VuZCwgbWlzc2luZzogW10gfTtcbiAgICAgICAgY29uc3QgcHJvYmxlbXMgPSBbXG4gICAgICAgICAgLi4ubWlzc2luZy5tYXAoKHBsYWNlKSA9PiBuZXcgUHJvYmxlbSgnc3RlcC1mYWlsZWQnLCB7IHdoYXQ6IGAke3BsYWNlfSBzaG91bGQgaGF2ZSBjaGFuZ2VkLCBhbmQgZGlkIG5vdGAgfSkpLFxuICAgICAgICAgIC4uLih3cm9uZy5sZW5ndGggPiAwID8gW2RpZmZlcih3cm9uZywgd2FsayldIDogW10pLFxuICAgICAgICAgIC4uLnNsb3cocmF0aW8sIGxlZnQsIHJpZ2h0KSxcbiAgICAgICAgXTtcbiAgICAgICAgcmV0dXJuIHsgc2VudDogdW5kZWZpbmVkLCBrZXB0OiBbXSwgcHJvYmxlbXMsIHRvbGQ6IHsgZGlmZmVyZW5jZXM6IHdyb25nIH0gfTtcbiAgICAgIH0sXG4gICAgICByZXN0b3JlOiAoKSA9PiB1bmRlZmluZWQsXG4gICAgfTtcbiAgfSxcbn07XG5cbmFzeW5jIGZ1bmN0aW9uIHBsYW5TaWRlKHNpZGU6IFNpZGVGaWxlLCBpbmRleDogbnVtYmVyLCByb29tOiBQbGFuUm9vbSk6IFByb21pc2U8U2lkZT4ge1xuICBjb25zdCBwYXRoID0gWy4uLnJvb20ucGF0aCwgJ2NvbXBhcmUnLCBpbmRleF07XG4gIGlmICgnc2VuZCcgaW4gc2lkZSkge1xuICAgIGNvbnN0IHByZXBhcmVkID0gYXdhaXQgcm9vbS5yZXF1ZXN0KHNpZGUuc2VuZCwgJ2NvbXBhcmUnKTtcbiAgICBkZW1hbmRVbmNoYW5naW5nKHByZXBhcmVkLCAnY29tcGFyZScsIHJvb20pO1xuICAgIGNvbnN0IGdpdmVzID0gcGxhbkdpdmVzKHNpZGUuZ2l2ZSwgcm9vbSwgWy4uLnBhdGgsICdnaXZlJ10pO1xuICAgIGNvbnN0IHsgc2Vzc2lvbiB9ID0gc2lkZTtcbiAgICBjb25zdCBzZXNzaW9ucyA9IHNlc3Npb24gPT09IHVuZGVmaW5lZCA/IHVuZGVmaW5lZCA6IHNlc3Npb24gPT09ICdub25lJyA/IFtdIDogW3Nlc3Npb25dLmZsYXQoKTtcbiAgICBjb25zdCB7IG5hbWUgfSA9IHByZXBhcmVkLnBsYW47XG4gICAgcmV0dXJuIHtcbiAgICAgIGxhYmVsOiBuYW1lLFxuICAgICAgcmVxdWVzdDogcHJlcGFyZWQsXG4gICAgICBhc3luYyBhbnN3ZXIoeyB3b3Jrc3BhY2UsIHNjb3BlLCBzaWduYWwsIHJvdyB9KSB7XG4gICAgICAgIGNvbnN0IGdpdmVuID0gZ2l2ZXIoZ2l2ZXMsIHdvcmtzcGFjZSwgc2NvcGUsIG5hbWUpO1xuICAgICAgICBjb25zdCBjYWxsZXIgPSB3YWxrRXZhbHVhdGlvbih3b3Jrc3BhY2UsIHNjb3BlKS5uYW1lcztcbiAgICAgICAgY29uc3Qgc2VudCA9IGF3YWl0IHNlbmRSZXF1ZXN0KHdvcmtzcGFjZSwgcHJlcGFyZWQsIHsgZ2l2ZW4sIGNhbGxlciwgc2Vzc2lvbnMsIHNpZ25hbCwgc3RlcDogbmFtZSwgcm93IH0pO1xuICAgICAgICByZXR1cm4gd29ya3NwYWNlLmRyeVJ1biA/IHVuZGVmaW5lZCA6IHNlbnRTaWRlKHNlbnQpO1xuICAgICAgfSxcbiAgICB9O1xuICB9XG4gIGlmICgnZWNobycgaW4gc2lkZSkge1xuICAgIGNvbnN0IHsgZWNobyB9ID0gc2lkZTtcbiAgICByZXR1cm4ge1xuICAgICAgbGFiZWw6IGBlY2hvICR7ZWNob31gLFxuICAgICAgcmVxdWVzdDogdW5kZWZpbmVkLFxuICAgICAgYW5zd2VyOiAoeyB3b3Jrc3BhY2UgfSkgPT4gZWNob1NpZGUod29ya3NwYWNlLmNvbGxlY3Rpb24ubG9jYWwsIGVjaG8pLFxuICAgIH07XG4gIH1cbiAgaWYgKCdmaWxlJyBpbiBzaWRlKSB7XG4gICAgY29uc3QgeyBmaWxlIH0gPSBzaWRlO1xuICAgIHJldHVybiB7XG4gICAgICBsYWJlbDogZmlsZSxcbiAgICAgIHJlcXVlc3Q6IHVuZGVmaW5lZCxcbiAgICAgIGFuc3dlcjogYXN5bmMgKHsgd29ya3NwYWNlIH0pID0+IGZpbGVTaWRlKHdvcmtzcGFjZS5jb2xsZWN0aW9uLnJvb3QsIGZpbGUpLFxuICAgIH07XG4gIH1cbiAgY29uc3QgdHJlZSA9IGNvbXBpbGVUcmVlKHNpZGUudmFsdWUsIChpbm5lcikgPT4gcm9vbS55YW1sLnBvc2l0aW9uKFsuLi5wYXRoLCAndmFsdWUnLCAuLi5pbm5lcl0pLCByb29tLmxvYWRzKTtcbiAgY29uc3QgbGFiZWwgPSB0eXBlb2Ygc2lkZS52YWx1ZSA9PT0gJ3N0cmluZycgPyBzaWRlLnZhbHVlLnJlcGxhY2UoL15cXCRcXHsoLiopXFx9JC8sICckMScpIDogJ2EgdmFsdWUnO1xuICByZXR1cm4ge1xuICAgIGxhYmVsLFxuICAgIHJlcXVlc3Q6IHVuZGVmaW5lZCxcbiAgICBhc3luYyBhbnN3ZXIoeyB3b3Jrc3BhY2UsIHNjb3BlIH0pIHtcbiAgICAgIGNvbnN0IHZhbHVlID0gZXZhbHVhdGVkKHRyZWUsIHdhbGtFdmFsdWF0aW9uKHdvcmtzcGFjZSwgc2NvcGUpLCBsYWJlbCk/LnZhbHVlID8/IG51bGw7XG4gICAgICBjb25zdCB0ZXh0ID0gdHlwZW9mIHZhbHVlID09PSAnc3RyaW5nJyA/IHZhbHVlIDogJyc7XG4gICAgICByZXR1cm4geyBzdGF0dXM6IHVuZGVmaW5lZCwgaGVhZGVyczogW10sIHRleHQsIC4uLih0eXBlb2YgdmFsdWUgIT09ICdzdHJpbmcnICYmIHsgdmFsdWUgfSkgfTtcbiAgICB9LFxuICB9O1xufVxuXG4vKiogRGlmZmVyZW5jZXMgZWxzZXdoZXJlIHRoYW4gYXQgdGhlIGludGVuZGVkIHBsYWNlcywgYW5kIHRob3NlIG9mIHRoZW0gd2hlcmUgdGhlcmUgaXMgbm9uZS4gKi9cbmZ1bmN0aW9uIGFzSW50ZW5kZWQoXG4gIGZvdW5kOiByZWFkb25seSBEaWZmZXJlbmNlW10sXG4gIGNoYW5nZWQ6IHJlYWRvbmx5IHN0cmluZ1tdLFxuKTogeyByZWFkb25seSB3cm9uZzogcmVhZG9ubHkgRGlmZmVyZW5jZVtdOyByZWFkb25seSBtaXNzaW5nOiByZWFkb25seSBzdHJpbmdbXSB9IHtcbiAgY29uc3QgaW50ZW5kZWQgPSBjaGFuZ2VkLm1hcCgocGxhY2UpID0+ICh7IHBsYWNlLCBjb3ZlcnM6IGNvdmVyaW5nKHBsYWNlKSB9KSk7XG4gIHJldHVybiB7XG4gICAgd3Jvbmc6IGZvdW5kLmZpbHRlcigoeyBhdCB9KSA9PiAhaW50ZW5kZWQuc29tZSgoeyBjb3ZlcnMgfSkgPT4gY292ZXJzKGF0KSkpLFxuICAgIG1pc3Npbmc6IGludGVuZGVkLmZpbHRlcigoeyBjb3ZlcnMgfSkgPT4gIWZvdW5kLnNvbWUoKHsgYXQgfSkgPT4gY292ZXJzKGF0KSkpLm1hcCgoeyBwbGFjZSB9KSA9PiBwbGFjZSksXG4gIH07XG59XG5cbmZ1bmN0aW9uIGRpZmZlcihmb3VuZDogcmVhZG9ubHkgRGlmZmVyZW5jZVtdLCB7IHdvcmtzcGFjZSB9OiBXYWxrKTogUHJvYmxlbSB7XG4gIGNvbnN0IFtmaXJzdF0gPSBmb3VuZDtcbiAgY29uc3QgeyBoaWRlIH0gPSB3b3Jrc3BhY2UucmVkYWN0b3I7XG4gIGNvbnN0IGF0ID0gZmlyc3QgJiYgYCR7Zmlyc3QuYXR9OiAke2hpZGUoc2hvcnRUZXh0KGZpcnN0LmxlZnQpKX0sIGFuZCAke2hpZGUoc2hvcnRUZXh0KGZpcnN0LnJpZ2h0KSl9YDtcbiAgcmV0dXJuIG5ldyBQcm9ibGVtKCdzdGVwLWZhaWxlZCcsIHtcbiAgICB3aGF0OiBgJHtmb3VuZC5sZW5ndGh9ICR7Zm91bmQubGVuZ3RoID09PSAxID8gJ2RpZmZlcmVuY2UnIDogJ2RpZmZlcmVuY2VzJ31gLFxuICAgIGNhdXNlOiBhdCxcbiAgfSk7XG59XG5cbmZ1bmN0aW9uIHNsb3coY2hlY2s6IENoZWNrIHwgdW5kZWZpbmVkLCBsZWZ0OiBDb21wYXJlZEFuc3dlciwgcmlnaHQ6IENvbXBhcmVkQW5zd2VyKTogUHJvYmxlbVtdIHtcbiAgaWYgKCFjaGVjayB8fCBsZWZ0LnRpbWUgPT09IHVuZGVmaW5lZCB8fCByaWdodC50aW1lID09PSB1bmRlZmluZWQpIHJldHVybiBbXTtcbiAgY29uc3QgcmF0aW8gPSBNYXRoLnJvdW5kKChyaWdodC50aW1lIC8gTWF0aC5tYXgobGVmdC50aW1lLCAwLjAwMSkpICogMTAwKSAvIDEwMDtcbiAgaWYgKGNoZWNrLm1pc3MocmF0aW8sIHt9KSA9PT0gdW5kZWZpbmVkKSByZXR1cm4gW107XG4gIHJldHVybiBbXG4gICAgbmV3IFByb2JsZW0oJ3N0ZXAtZmFpbGVkJywge1xuICAgICAgd2hhdDogYHRoZSBzZWNvbmQgYW5zd2VyIHRvb2sgJHtyYXRpb30gdGltZXMgYXMgbG9uZyBhcyB0aGUgZmlyc3QsIGV4cGVjdGVkICR7Y2hlY2suZGVzY3JpYmUoKX1gLFxuICAgICAgY2F1c2U6IGAke2R1cmF0aW9uVGV4dChsZWZ0LnRpbWUpfSwgYW5kICR7ZHVyYXRpb25UZXh0KHJpZ2h0LnRpbWUpfWAsXG4gICAgfSksXG4gIF07XG59XG4iLCAiLyoqIFdoaWNoIG9mIHNldmVyYWwgcHJvYmxlbXMgZGVjaWRlcywgaW4gdGhlIG9yZGVyIG9mIHRoZSBleGl0IHN0YXR1c2VzLiAqL1xuaW1wb3J0IHR5cGUgeyBQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcblxuY29uc3Qgb3JkZXI6IHJlYWRvbmx5IFByb2JsZW1bJ2ZhbWlseSddW10gPSBbXG4gICdmYWlsZWQtZXhwZWN0YXRpb24nLFxuICAnbm8tYW5zd2VyJyxcbiAgJ3JlZnVzZWQnLFxuICAnd3JvbmctaW5wdXQnLFxuICAnZmF1bHQnLFxuICAnaW50ZXJydXB0ZWQnLFxuXTtcblxuZXhwb3J0IGZ1bmN0aW9uIGdyYXZlcihvbmU6IFByb2JsZW0gfCB1bmRlZmluZWQsIG90aGVyOiBQcm9ibGVtKTogUHJvYmxlbSB7XG4gIHJldHVybiBvbmUgJiYgb3JkZXIuaW5kZXhPZihvbmUuZmFtaWx5KSA+PSBvcmRlci5pbmRleE9mKG90aGVyLmZhbWlseSkgPyBvbmUgOiBvdGhlcjtcbn1cbiIsICIvKiogTWFueSBwaWVjZXMgb2Ygd29yaywgc28gbWFueSBhdCBvbmNlLCBiZWd1biBpbiBvcmRlciBhcyB0aGV5IGNvbWUgZnJvbSBhIHN0cmVhbTogbWVtb3J5IGhvbGRzIG9ubHkgdGhvc2UuICovXG5pbXBvcnQgeyBhc1Byb2JsZW0sIHR5cGUgUHJvYmxlbSB9IGZyb20gJy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5cbi8qKiBAcmV0dXJucyB3aGF0IGVuZGVkIHRoZSByZWFkaW5nIGVhcmx5OyB1bmRlZmluZWQgd2hlcmUgYWxsIHdlcmUgd29ya2VkIG9uLCBvciB0aGUgc2lnbmFsIGNhbWUgKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiBtYW55QXRPbmNlPFQ+KFxuICBpdGVtczogQXN5bmNJdGVyYXRvcjxUPixcbiAgYXRPbmNlOiBudW1iZXIsXG4gIHdvcms6IChpdGVtOiBUKSA9PiBQcm9taXNlPHZvaWQ+LFxuICBzaWduYWw6IEFib3J0U2lnbmFsLFxuKTogUHJvbWlzZTxQcm9ibGVtIHwgdW5kZWZpbmVkPiB7XG4gIGxldCBmYXVsdDogUHJvYmxlbSB8IHVuZGVmaW5lZDtcbiAgYXN5bmMgZnVuY3Rpb24gd29ya2VyKCk6IFByb21pc2U8dm9pZD4ge1xuICAgIHdoaWxlICghc2lnbmFsLmFib3J0ZWQgJiYgIWZhdWx0KSB7XG4gICAgICBjb25zdCBuZXh0ID0gYXdhaXQgaXRlbXMubmV4dCgpO1xuICAgICAgaWYgKG5leHQuZG9uZSkgcmV0dXJuO1xuICAgICAgYXdhaXQgd29yayhuZXh0LnZhbHVlKTtcbiAgICB9XG4gIH1cbiAgY29uc3QgZ3VhcmRlZCA9ICgpOiBQcm9taXNlPHZvaWQ+ID0+XG4gICAgd29ya2VyKCkuY2F0Y2goKGVycm9yOiB1bmtub3duKSA9PiB7XG4gICAgICBmYXVsdCA/Pz0gYXNQcm9ibGVtKGVycm9yKTtcbiAgICB9KTtcbiAgYXdhaXQgUHJvbWlzZS5hbGwoQXJyYXkuZnJvbSh7IGxlbmd0aDogYXRPbmNlIH0sIGd1YXJkZWQpKTtcbiAgYXdhaXQgaXRlbXMucmV0dXJuPy4oKTtcbiAgcmV0dXJuIGZhdWx0O1xufVxuIiwgIi8qKiBgdGFibGVgOiB3aGF0IGxlYXZlcyB0aGUgcm93cyBvciB0aGUgaXRlcmF0aW9ucyBvZiBhIHdhbGssIGEgbGluZSBlYWNoLCBpbiB0aGVpciBvcmRlci4gKi9cbmltcG9ydCB0eXBlIHsgVGFibGVGaWxlIH0gZnJvbSAnLi4vY29sbGVjdGlvbi9maWxlcy90cmFpbC1maWxlLmpzJztcbmltcG9ydCB0eXBlIHsgWWFtbEZpbGUgfSBmcm9tICcuLi9jb2xsZWN0aW9uL3lhbWwuanMnO1xuaW1wb3J0IHR5cGUgeyBSZWNlaXZlZCB9IGZyb20gJy4uL2V4Y2hhbmdlL3JlY2VpdmVkLmpzJztcbmltcG9ydCB0eXBlIHsgTG9hZHMgfSBmcm9tICcuLi9leHByZXNzaW9uL2NvbXBpbGUuanMnO1xuaW1wb3J0IHsgb21pdHRlZCB9IGZyb20gJy4uL2V4cHJlc3Npb24vZXZhbHVhdGlvbi5qcyc7XG5pbXBvcnQgeyBjb21waWxlVHJlZSwgdHlwZSBUcmVlIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi90cmVlLmpzJztcbmltcG9ydCB0eXBlIHsgUGxhY2UgfSBmcm9tICcuLi9wbGFjZS9wbGFjZS5qcyc7XG5pbXBvcnQgeyByZWFkUGxhY2UgfSBmcm9tICcuLi9wbGFjZS9yZWdpc3RyeS5qcyc7XG5pbXBvcnQgeyBhc1Byb2JsZW0sIHR5cGUgUHJvYmxlbSB9IGZyb20gJy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBwbGFjZUluc2lkZSB9IGZyb20gJy4uL3N0b3JhZ2UvaW5zaWRlLmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUsIFZhbHVlTWFwIH0gZnJvbSAnLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgdHlwZSB7IFRhYmxlRXZlbnQgfSBmcm9tICcuL2V2ZW50cy5qcyc7XG5pbXBvcnQgeyB3YWxrRXZhbHVhdGlvbiB9IGZyb20gJy4vZ2l2aW5nLmpzJztcbmltcG9ydCB0eXBlIHsgV2FsayB9IGZyb20gJy4vc3RlcC1raW5kLmpzJztcbmltcG9ydCB7IGRlbWFuZFRhYmxlRmlsZSwgdGFibGVXcml0ZXIgfSBmcm9tICcuL3RhYmxlLWZpbGUuanMnO1xuXG5leHBvcnQgaW50ZXJmYWNlIFRhYmxlUGxhbiB7XG4gIC8qKiBJbiBvcmRlci4gKi9cbiAgcmVhZG9ubHkgY29sdW1uczogcmVhZG9ubHkgc3RyaW5nW107XG4gIC8qKiBDb2x1bW5zIHRoYXQgYXJlIHdvcmtlZCBvdXQuICovXG4gIHJlYWRvbmx5IHRyZWVzOiBSZWFkb25seU1hcDxzdHJpbmcsIFRyZWU+O1xuICAvKiogQ29sdW1ucyB0aGF0IHN0YW5kIGF0IGEgcGxhY2Ugb2YgdGhlIGxhc3QgYW5zd2VyLiAqL1xuICByZWFkb25seSBwbGFjZXM6IFJlYWRvbmx5TWFwPHN0cmluZywgUGxhY2U+O1xuICByZWFkb25seSBhczogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSB0bzogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSBzaG93OiBib29sZWFuO1xufVxuXG4vKiogVGhlIGNvbHVtbiB0aGF0IHNheXMgd2h5IGEgbGluZSBpcyBub3Qgd2hvbGUuICovXG5jb25zdCBlcnJvckNvbHVtbiA9ICdlcnJvcic7XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gYWJvdXQgYSBjb2x1bW4sIHdpdGggaXRzIHBsYWNlIGluIHRoZSBmaWxlICovXG5leHBvcnQgZnVuY3Rpb24gcGxhblRhYmxlKFxuICBzcGVjOiBUYWJsZUZpbGUsXG4gIHlhbWw6IFBpY2s8WWFtbEZpbGUsICdwb3NpdGlvbic+LFxuICBwYXRoOiByZWFkb25seSAoc3RyaW5nIHwgbnVtYmVyKVtdLFxuICBsb2FkczogTG9hZHMsXG4pOiBUYWJsZVBsYW4ge1xuICBjb25zdCB0cmVlcyA9IG5ldyBNYXA8c3RyaW5nLCBUcmVlPigpO1xuICBjb25zdCBwbGFjZXMgPSBuZXcgTWFwPHN0cmluZywgUGxhY2U+KCk7XG4gIGZvciAoY29uc3QgW25hbWUsIHRleHRdIG9mIE9iamVjdC5lbnRyaWVzKHNwZWMuY29sdW1ucykpIHtcbiAgICBjb25zdCB3aGVyZSA9IHlhbWwucG9zaXRpb24oWy4uLnBhdGgsICdjb2x1bW5zJywgbmFtZV0pO1xuICAgIHRyeSB7XG4gICAgICBpZiAodGV4dC5pbmNsdWRlcygnJHsnKSlcbiAgICAgICAgdHJlZXMuc2V0KFxuICAgICAgICAgIG5hbWUsXG4gICAgICAgICAgY29tcGlsZVRyZWUodGV4dCwgKCkgPT4gd2hlcmUsIGxvYWRzKSxcbiAgICAgICAgKTtcbiAgICAgIGVsc2UgcGxhY2VzLnNldChuYW1lLCByZWFkUGxhY2UodGV4dCwgbG9hZHMpKTtcbiAgICB9IGNhdGNoIChlcnJvcikge1xuICAgICAgdGhyb3cgYXNQcm9ibGVtKGVycm9yKS5hdCh3aGVyZSk7XG4gICAgfVxuICB9XG4gIHRyeSB7XG4gICAgaWYgKHNwZWMudG8gIT09IHVuZGVmaW5lZCkgZGVtYW5kVGFibGVGaWxlKHNwZWMudG8pO1xuICB9IGNhdGNoIChlcnJvcikge1xuICAgIHRocm93IGFzUHJvYmxlbShlcnJvcikuYXQoeWFtbC5wb3NpdGlvbihbLi4ucGF0aCwgJ3RvJ10pKTtcbiAgfVxuICByZXR1cm4ge1xuICAgIGNvbHVtbnM6IE9iamVjdC5rZXlzKHNwZWMuY29sdW1ucyksXG4gICAgdHJlZXMsXG4gICAgcGxhY2VzLFxuICAgIGFzOiBzcGVjLmFzLFxuICAgIHRvOiBzcGVjLnRvLFxuICAgIHNob3c6IHNwZWMuc2hvdyA/PyAoc3BlYy5hcyA9PT0gdW5kZWZpbmVkICYmIHNwZWMudG8gPT09IHVuZGVmaW5lZCksXG4gIH07XG59XG5cbi8qKiBXaGF0IGFuIGFuc3dlciBsZWF2ZXMgaW4gdGhlIGNvbHVtbnMgdGhhdCBhcmUgcGxhY2VzOyB0aGUgbmV4dCBhbnN3ZXIgdGFrZXMgaXRzIHBsYWNlLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHBsYWNlZENlbGxzKHsgcGxhY2VzIH06IFRhYmxlUGxhbiwgcmVjZWl2ZWQ6IFJlY2VpdmVkKTogVmFsdWVNYXAge1xuICBjb25zdCBjZWxsczogUmVjb3JkPHN0cmluZywgVmFsdWU+ID0ge307XG4gIGZvciAoY29uc3QgW25hbWUsIHBsYWNlXSBvZiBwbGFjZXMpIHtcbiAgICB0cnkge1xuICAgICAgY2VsbHNbbmFtZV0gPSBwbGFjZS5maW5kKHJlY2VpdmVkKSA/PyBudWxsO1xuICAgIH0gY2F0Y2gge1xuICAgICAgLy8gQW4gYW5zd2VyIG9mIGFub3RoZXIga2luZCBoYXMgbm90aGluZyB0aGVyZS5cbiAgICAgIGNlbGxzW25hbWVdID0gbnVsbDtcbiAgICB9XG4gIH1cbiAgcmV0dXJuIGNlbGxzO1xufVxuXG4vKiogVGhlIGxpbmUgb2YgYSByb3cgb3IgYW4gaXRlcmF0aW9uLCBhbmQgd2hhdCBpdCBjYW1lIHRvIGJ5IHRoYXQ6IGEgY29sdW1uIHRoYXQgY2Fubm90IGJlIHdvcmtlZCBvdXQgaXMgYSBmYWlsdXJlLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGxpbmVPZihcbiAgcGxhbjogVGFibGVQbGFuLFxuICB3YWxrOiBXYWxrLFxuICBwcm9ibGVtOiBQcm9ibGVtIHwgdW5kZWZpbmVkLFxuKTogeyByZWFkb25seSBjZWxsczogVmFsdWVNYXA7IHJlYWRvbmx5IHByb2JsZW06IFByb2JsZW0gfCB1bmRlZmluZWQgfSB7XG4gIHRyeSB7XG4gICAgcmV0dXJuIHsgY2VsbHM6IGNlbGxzT2YocGxhbiwgd2FsaywgcHJvYmxlbSksIHByb2JsZW0gfTtcbiAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICBjb25zdCB1bmtub3duID0gYXNQcm9ibGVtKGVycm9yKTtcbiAgICByZXR1cm4geyBjZWxsczogY2VsbHNPZihwbGFuLCB3YWxrLCB1bmtub3duKSwgcHJvYmxlbTogdW5rbm93biB9O1xuICB9XG59XG5cbi8qKiBPbmUgdGhhdCBmYWlsZWQgaGFzIHdoYXQgaXQgY2FtZSB0bywgYW5kIGl0cyBlcnJvci4gQHRocm93cyBQcm9ibGVtOiBvZiBvbmUgdGhhdCBkaWQgbm90IGZhaWwsIGEgbmFtZSB0aGF0IGlzIG5vdCBrbm93biAqL1xuZnVuY3Rpb24gY2VsbHNPZih7IGNvbHVtbnMsIHRyZWVzIH06IFRhYmxlUGxhbiwgd2FsazogV2FsaywgZmFpbGVkOiBQcm9ibGVtIHwgdW5kZWZpbmVkKTogVmFsdWVNYXAge1xuICBjb25zdCBjZWxsczogUmVjb3JkPHN0cmluZywgVmFsdWU+ID0ge307XG4gIGNvbnN0IGV2YWx1YXRpb24gPSB3YWxrRXZhbHVhdGlvbih3YWxrLndvcmtzcGFjZSwgd2Fsay5zY29wZSk7XG4gIGZvciAoY29uc3QgbmFtZSBvZiBjb2x1bW5zKSB7XG4gICAgY29uc3QgdHJlZSA9IHRyZWVzLmdldChuYW1lKTtcbiAgICBjZWxsc1tuYW1lXSA9IHdhbGsubGFzdC5jZWxsc1tuYW1lXSA/PyBudWxsO1xuICAgIHRyeSB7XG4gICAgICBjb25zdCB2YWx1ZSA9IHRyZWU/LmV2YWx1YXRlKGV2YWx1YXRpb24pO1xuICAgICAgaWYgKHZhbHVlICE9PSB1bmRlZmluZWQgJiYgdmFsdWUgIT09IG9taXR0ZWQpIGNlbGxzW25hbWVdID0gdmFsdWU7XG4gICAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICAgIGlmICghZmFpbGVkKSB0aHJvdyBlcnJvcjtcbiAgICB9XG4gIH1cbiAgaWYgKGZhaWxlZCkgY2VsbHNbZXJyb3JDb2x1bW5dID0gd2Fsay53b3Jrc3BhY2UucmVkYWN0b3IuaGlkZShmYWlsZWQud2hhdCk7XG4gIC8vIEEgdGFibGUgaXMgcmVhZCBieSBvdGhlcnM6IHdoYXQgaXMgc2VjcmV0IGlzIG5vdCBpbiBpdC5cbiAgcmV0dXJuIHdhbGsud29ya3NwYWNlLnJlZGFjdG9yLmhpZGVJbihjZWxscykgYXMgVmFsdWVNYXA7XG59XG5cbi8qKiBMaW5lcyB0aGF0IGNvbWUgaW4gYW55IG9yZGVyIGFyZSBwdXQgaW50byB0aGVpcnM7IGEgZmlsZSBvZiB0aGVtIGlzIGluIGl0cyBwbGFjZSB3aGVuIGFsbCBhcmUgdGhlcmUuICovXG5leHBvcnQgaW50ZXJmYWNlIFRhYmxlIHtcbiAgLyoqIEBwYXJhbSBudW1iZXIgZnJvbSAxICovXG4gIGFkZChudW1iZXI6IG51bWJlciwgY2VsbHM6IFZhbHVlTWFwKTogUHJvbWlzZTx2b2lkPjtcbiAgLyoqIEByZXR1cm5zIGhvdyBtYW55IGxpbmVzIHRoZXJlIGFyZSwgYW5kIHRob3NlIHRoYXQgYXJlIHRvIGJlIHNob3duIG9yIG5hbWVkICovXG4gIGZpbmlzaCgpOiBQcm9taXNlPHsgcmVhZG9ubHkgY291bnQ6IG51bWJlcjsgcmVhZG9ubHkgbGluZXM6IHJlYWRvbmx5IFZhbHVlTWFwW10gfT47XG4gIC8qKiBMZWF2ZXMgd2hhdCB3YXMgaW4gaXRzIHBsYWNlIGJlZm9yZS4gKi9cbiAgYWJhbmRvbigpOiBQcm9taXNlPHZvaWQ+O1xufVxuXG4vKiogU28gbWFueSBsaW5lcyBhcmUga2VwdCBmb3IgdGhlIHRlcm1pbmFsIHdoZXJlIG5vdGhpbmcgZWxzZSB3YW50cyB0aGVtLiAqL1xuY29uc3Qgc2hvd25MaW5lcyA9IDIwMDtcblxuLyoqIEBwYXJhbSByb290IG9mIHRoZSBjb2xsZWN0aW9uLCB3aGVyZSBpdHMgZmlsZSBnb2VzIEB0aHJvd3MgUHJvYmxlbSBmaWxlLXVucmVhZGFibGUsIGZpbGUtb3V0c2lkZSwgdXNhZ2UgKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiBvcGVuVGFibGUocGxhbjogVGFibGVQbGFuLCByb290OiBzdHJpbmcpOiBQcm9taXNlPFRhYmxlPiB7XG4gIGNvbnN0IGhlYWRzID0gWy4uLnBsYW4uY29sdW1ucywgZXJyb3JDb2x1bW5dO1xuICBjb25zdCB3cml0ZXIgPSBwbGFuLnRvID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiBhd2FpdCB0YWJsZVdyaXRlcihwbGFjZUluc2lkZShyb290LCBwbGFuLnRvKSwgaGVhZHMpO1xuICBjb25zdCBlYXJseSA9IG5ldyBNYXA8bnVtYmVyLCBWYWx1ZU1hcD4oKTtcbiAgY29uc3QgbGluZXM6IFZhbHVlTWFwW10gPSBbXTtcbiAgbGV0IG5leHQgPSAxO1xuICByZXR1cm4ge1xuICAgIGFzeW5jIGFkZChudW1iZXIsIGNlbGxzKSB7XG4gICAgICBlYXJseS5zZXQobnVtYmVyLCBjZWxscyk7XG4gICAgICBmb3IgKGxldCBsaW5lID0gZWFybHkuZ2V0KG5leHQpOyBsaW5lOyBsaW5lID0gZWFybHkuZ2V0KG5leHQpKSB7XG4gICAgICAgIGVhcmx5LmRlbGV0ZShuZXh0KTtcbiAgICAgICAgbmV4dCArPSAxO1xuICAgICAgICBpZiAocGxhbi5hcyAhPT0gdW5kZWZpbmVkIHx8IGxpbmVzLmxlbmd0aCA8IHNob3duTGluZXMpIGxpbmVzLnB1c2gobGluZSk7XG4gICAgICAgIGF3YWl0IHdyaXRlcj8uYWRkKGxpbmUpO1xuICAgICAgfVxuICAgIH0sXG4gICAgYXN5bmMgZmluaXNoKCkge1xuICAgICAgLy8gV2hhdCB3YXMgcGFzc2VkIG92ZXIgbGVhdmVzIGEgZ2FwLlxuICAgICAgZm9yIChjb25zdCBbLCBsaW5lXSBvZiBbLi4uZWFybHldLnNvcnQoKFthXSwgW2JdKSA9PiBhIC0gYikpIHtcbiAgICAgICAgbmV4dCArPSAxO1xuICAgICAgICBpZiAocGxhbi5hcyAhPT0gdW5kZWZpbmVkIHx8IGxpbmVzLmxlbmd0aCA8IHNob3duTGluZXMpIGxpbmVzLnB1c2gobGluZSk7XG4gICAgICAgIGF3YWl0IHdyaXRlcj8uYWRkKGxpbmUpO1xuICAgICAgfVxuICAgICAgYXdhaXQgd3JpdGVyPy5maW5pc2goKTtcbiAgICAgIHJldHVybiB7IGNvdW50OiBuZXh0IC0gMSwgbGluZXMgfTtcbiAgICB9LFxuICAgIGFiYW5kb246IGFzeW5jICgpID0+IHdyaXRlcj8uYWJhbmRvbigpLFxuICB9O1xufVxuXG4vKiogUHV0cyBhIHRhYmxlIHRoYXQgaXMgd2hvbGUgaW4gaXRzIHBsYWNlLiBAcmV0dXJucyB3aGF0IGlzIHRvbGQgb2YgaXQsIGFuZCBpdHMgbGluZXMgd2hlcmUgdGhleSBhcmUgdG8gYmUgbmFtZWQgKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiBzZXR0bGVUYWJsZShcbiAgcGxhbjogVGFibGVQbGFuLFxuICB0YWJsZTogVGFibGUsXG4gIGxhYmVsOiBzdHJpbmcsXG4gIHJvdzogbnVtYmVyIHwgdW5kZWZpbmVkLFxuKTogUHJvbWlzZTxUYWJsZUV2ZW50PiB7XG4gIGNvbnN0IHsgY291bnQsIGxpbmVzIH0gPSBhd2FpdCB0YWJsZS5maW5pc2goKTtcbiAgY29uc3QgeyBjb2x1bW5zLCB0bywgc2hvdyB9ID0gcGxhbjtcbiAgcmV0dXJuIHsgZXZlbnQ6ICd0YWJsZScsIGxhYmVsLCByb3csIGNvbHVtbnMsIGxpbmVzLCBjb3VudCwgdG8sIHNob3cgfTtcbn1cbiIsICIvKiogV2hhdCBgZm9yLWVhY2hgIGdvZXMgdGhyb3VnaDogYSB2YWx1ZSwgYSByYW5nZSwgdGhlIHJvd3Mgb2YgYSBmaWxlLCBvciB0aGUgcGFnZXMgb2YgYSByZXF1ZXN0LiAqL1xuaW1wb3J0IHR5cGUgeyBNZW1iZXJzRmlsZSB9IGZyb20gJy4uLy4uL2NvbGxlY3Rpb24vZmlsZXMvdHJhaWwtZmlsZS5qcyc7XG5pbXBvcnQgeyBjb21waWxlVHJlZSB9IGZyb20gJy4uLy4uL2V4cHJlc3Npb24vdHJlZS5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IGlzVmFsdWVNYXAsIHR5cGUgVmFsdWUgfSBmcm9tICcuLi8uLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB7IGV2YWx1YXRlZCwgZ2l2ZXIsIHBsYW5HaXZlcywgd2Fsa0V2YWx1YXRpb24gfSBmcm9tICcuLi9naXZpbmcuanMnO1xuaW1wb3J0IHsgZ3JhdmVyIH0gZnJvbSAnLi4vZ3Jhdml0eS5qcyc7XG5pbXBvcnQgeyB0eXBlIFBhZ2VDb3VudCwgcGFnZXNPZiB9IGZyb20gJy4uL3BhZ2luZy9wYWdlcy5qcyc7XG5pbXBvcnQgdHlwZSB7IFByZXBhcmVkUmVxdWVzdCB9IGZyb20gJy4uL3ByZXBhcmUuanMnO1xuaW1wb3J0IHsgZmlsZVJvd3MsIHJlYWR5Um93cyB9IGZyb20gJy4uL3Jvd3MvcmVnaXN0cnkuanMnO1xuaW1wb3J0IHR5cGUgeyBTZW50IH0gZnJvbSAnLi4vc2VuZGluZy5qcyc7XG5pbXBvcnQgdHlwZSB7IFBsYW5Sb29tLCBXYWxrIH0gZnJvbSAnLi4vc3RlcC1raW5kLmpzJztcblxuZXhwb3J0IGludGVyZmFjZSBNZW1iZXJzUGxhbiB7XG4gIC8qKiBUaGUgcmVxdWVzdCB3aG9zZSBwYWdlcyB0aGV5IGFyZS4gKi9cbiAgcmVhZG9ubHkgcmVxdWVzdDogUHJlcGFyZWRSZXF1ZXN0IHwgdW5kZWZpbmVkO1xuICAvKiogVGhlIG1lbWJlcnMgYXMgdGhleSBjb21lOyB3aGF0IGlzIHNlY3JldCBhYm91dCBvbmUgaXMgc2FpZCBvZiBpdC4gKi9cbiAgcmVhZCh3YWxrOiBXYWxrLCB0b2xkOiBQYWdlc1RvbGQpOiBBc3luY0l0ZXJhYmxlPHsgcmVhZG9ubHkgdmFsdWU6IFZhbHVlOyByZWFkb25seSBzZWNyZXQ6IGJvb2xlYW4gfT47XG59XG5cbi8qKiBXaGF0IHRoZSBwYWdlcyBzYWlkLCBvbmNlIHRoZXkgd2VyZSByZWFkLiAqL1xuZXhwb3J0IGludGVyZmFjZSBQYWdlc1RvbGQge1xuICBzZW50PzogU2VudDtcbiAgcGFnZXM/OiBQYWdlQ291bnQ7XG59XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gYWJvdXQgdGhlIGZpbGUgb3IgdGhlIHJlcXVlc3QgdGhhdCBpcyBuYW1lZCAqL1xuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIHBsYW5NZW1iZXJzKGdpdmVuOiBNZW1iZXJzRmlsZSwgbGFiZWw6IHN0cmluZywgcm9vbTogUGxhblJvb20pOiBQcm9taXNlPE1lbWJlcnNQbGFuPiB7XG4gIGNvbnN0IHBhdGggPSBbLi4ucm9vbS5wYXRoLCAnZm9yLWVhY2gnXTtcbiAgY29uc3Qgd2hlcmUgPSByb29tLnlhbWwucG9zaXRpb24ocGF0aCk7XG4gIGlmICh0eXBlb2YgZ2l2ZW4gPT09ICdzdHJpbmcnIHx8IEFycmF5LmlzQXJyYXkoZ2l2ZW4pKSB7XG4gICAgY29uc3QgdHJlZSA9IGNvbXBpbGVUcmVlKGdpdmVuIGFzIFZhbHVlLCAoaW5uZXIpID0+IHJvb20ueWFtbC5wb3NpdGlvbihbLi4ucGF0aCwgLi4uaW5uZXJdKSwgcm9vbS5sb2Fkcyk7XG4gICAgcmV0dXJuIHtcbiAgICAgIHJlcXVlc3Q6IHVuZGVmaW5lZCxcbiAgICAgIGFzeW5jICpyZWFkKHsgd29ya3NwYWNlLCBzY29wZSB9KSB7XG4gICAgICAgIGNvbnN0IG5hbWVkID0gZXZhbHVhdGVkKHRyZWUsIHdhbGtFdmFsdWF0aW9uKHdvcmtzcGFjZSwgc2NvcGUpLCBgc3RlcCAke2xhYmVsfWApO1xuICAgICAgICBmb3IgKGNvbnN0IHZhbHVlIG9mIGxpc3RPZihuYW1lZD8udmFsdWUsIGxhYmVsKSkgeWllbGQgeyB2YWx1ZSwgc2VjcmV0OiBuYW1lZD8uc2VjcmV0ID09PSB0cnVlIH07XG4gICAgICB9LFxuICAgIH07XG4gIH1cbiAgaWYgKCdyYW5nZScgaW4gZ2l2ZW4pIHtcbiAgICBjb25zdCBbZnJvbSwgdG9dID0gZ2l2ZW4ucmFuZ2U7XG4gICAgcmV0dXJuIHtcbiAgICAgIHJlcXVlc3Q6IHVuZGVmaW5lZCxcbiAgICAgIGFzeW5jICpyZWFkKCkge1xuICAgICAgICBjb25zdCBzdGVwID0gZnJvbSA8PSB0byA/IDEgOiAtMTtcbiAgICAgICAgZm9yIChsZXQgdmFsdWUgPSBmcm9tOyBzdGVwID4gMCA/IHZhbHVlIDw9IHRvIDogdmFsdWUgPj0gdG87IHZhbHVlICs9IHN0ZXApIHlpZWxkIHsgdmFsdWUsIHNlY3JldDogZmFsc2UgfTtcbiAgICAgIH0sXG4gICAgfTtcbiAgfVxuICBpZiAoJ3Jvd3MnIGluIGdpdmVuKSB7XG4gICAgcmVhZHlSb3dzKHJvb20uY29sbGVjdGlvbi5yb290LCBnaXZlbi5yb3dzLCByb29tLmxvYWRzLCByb29tLnlhbWwucG9zaXRpb24oWy4uLnBhdGgsICdyb3dzJ10pKTtcbiAgICByZXR1cm4ge1xuICAgICAgcmVxdWVzdDogdW5kZWZpbmVkLFxuICAgICAgYXN5bmMgKnJlYWQoeyB3b3Jrc3BhY2UgfSkge1xuICAgICAgICBmb3IgYXdhaXQgKGNvbnN0IHZhbHVlIG9mIGZpbGVSb3dzKHdvcmtzcGFjZS5jb2xsZWN0aW9uLnJvb3QsIGdpdmVuLnJvd3MpKSB5aWVsZCB7IHZhbHVlLCBzZWNyZXQ6IGZhbHNlIH07XG4gICAgICB9LFxuICAgIH07XG4gIH1cbiAgY29uc3QgcHJlcGFyZWQgPSBhd2FpdCByb29tLnJlcXVlc3QoZ2l2ZW4ucGFnZXMsICdmb3ItZWFjaCcpO1xuICBpZiAoIXByZXBhcmVkLnBhZ2VzKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ2ZpbGUtc2hhcGUnLCB7XG4gICAgICB3aGF0OiBgdGhlIHJlcXVlc3QgJHtwcmVwYXJlZC5wbGFuLm5hbWV9IGhhcyBubyBwYWdlc2AsXG4gICAgICB3aGVyZSxcbiAgICAgIHJlbWVkeTogJ3NheSBob3cgaXRzIGxpc3QgY29tZXMgaW4gcGFnZXM6IGBwYWdlczpgIGluIHRoZSByZXF1ZXN0IGZpbGUnLFxuICAgIH0pO1xuICB9XG4gIGNvbnN0IGdpdmVzID0gcGxhbkdpdmVzKGdpdmVuLmdpdmUsIHJvb20sIFsuLi5wYXRoLCAnZ2l2ZSddKTtcbiAgcmV0dXJuIHtcbiAgICByZXF1ZXN0OiBwcmVwYXJlZCxcbiAgICBhc3luYyAqcmVhZCh3YWxrLCB0b2xkKSB7XG4gICAgICBjb25zdCB7IHdvcmtzcGFjZSwgc2NvcGUsIHNpZ25hbCwgcm93IH0gPSB3YWxrO1xuICAgICAgY29uc3Qgc2VuZGluZyA9IHtcbiAgICAgICAgZ2l2ZW46IGdpdmVyKGdpdmVzLCB3b3Jrc3BhY2UsIHNjb3BlLCBsYWJlbCksXG4gICAgICAgIGNhbGxlcjogd2Fsa0V2YWx1YXRpb24od29ya3NwYWNlLCBzY29wZSkubmFtZXMsXG4gICAgICAgIHNpZ25hbCxcbiAgICAgICAgc3RlcDogbGFiZWwsXG4gICAgICAgIHJvdyxcbiAgICAgIH07XG4gICAgICBmb3IgYXdhaXQgKGNvbnN0IHsgc2VudCwgaXRlbXMsIGNvdW50IH0gb2YgcGFnZXNPZih3b3Jrc3BhY2UsIHByZXBhcmVkLCBzZW5kaW5nKSkge1xuICAgICAgICB0b2xkLnNlbnQgPSBzZW50O1xuICAgICAgICB0b2xkLnBhZ2VzID0gY291bnQ7XG4gICAgICAgIGlmIChzZW50LnByb2JsZW1zLmxlbmd0aCA+IDApIHtcbiAgICAgICAgICBjb25zdCB3aHkgPSBzZW50LnByb2JsZW1zLnJlZHVjZShncmF2ZXIpO1xuICAgICAgICAgIHRocm93IG5ldyBQcm9ibGVtKHdoeS5jb2RlLCB7XG4gICAgICAgICAgICB3aGF0OiBgJHt3aHkud2hhdH0gKHBhcnRpYWw6ICR7Y291bnQuaXRlbXN9JHtjb3VudC50b3RhbCA9PT0gdW5kZWZpbmVkID8gJycgOiBgIG9mICR7Y291bnQudG90YWx9YH0gaXRlbXMgY2FtZSBiZWZvcmUpYCxcbiAgICAgICAgICAgIGNhdXNlOiB3aHkucmVhc29uLFxuICAgICAgICAgICAgcmVtZWR5OiB3aHkucmVtZWR5LFxuICAgICAgICAgIH0pO1xuICAgICAgICB9XG4gICAgICAgIGZvciAoY29uc3QgdmFsdWUgb2YgaXRlbXMpIHlpZWxkIHsgdmFsdWUsIHNlY3JldDogZmFsc2UgfTtcbiAgICAgIH1cbiAgICB9LFxuICB9O1xufVxuXG4vKiogQSBtYXAgaXMgZ29uZSB0aHJvdWdoIGJ5IGl0cyBtZW1iZXJzLiBAdGhyb3dzIFByb2JsZW0gZGF0YS1zaGFwZSAqL1xuZnVuY3Rpb24gbGlzdE9mKHZhbHVlOiBWYWx1ZSB8IHVuZGVmaW5lZCwgbGFiZWw6IHN0cmluZyk6IHJlYWRvbmx5IFZhbHVlW10ge1xuICBpZiAoQXJyYXkuaXNBcnJheSh2YWx1ZSkpIHJldHVybiB2YWx1ZSBhcyByZWFkb25seSBWYWx1ZVtdO1xuICBpZiAoaXNWYWx1ZU1hcCh2YWx1ZSkpIHJldHVybiBPYmplY3QuZW50cmllcyh2YWx1ZSkubWFwKChba2V5LCBpbm5lcl0pID0+ICh7IGtleSwgdmFsdWU6IGlubmVyIGFzIFZhbHVlIH0pKTtcbiAgdGhyb3cgbmV3IFByb2JsZW0oJ2RhdGEtc2hhcGUnLCB7XG4gICAgd2hhdDogYCR7bGFiZWx9OiBmb3ItZWFjaCBnb2VzIHRocm91Z2ggYSBsaXN0IG9yIGEgbWFwLCBhbmQgd2FzIGdpdmVuIG5laXRoZXJgLFxuICAgIGNhdXNlOiB2YWx1ZSA9PT0gdW5kZWZpbmVkID8gJ3RoZSB2YWx1ZSBpcyBvbWl0dGVkJyA6IHVuZGVmaW5lZCxcbiAgICByZW1lZHk6ICdhIHBsYWNlIHN1Y2ggYXMgJC5pdGVtc1sqXSBrZWVwcyBhIGxpc3QsIGV2ZW4gb2Ygb25lJyxcbiAgfSk7XG59XG4iLCAiLyoqIGBmb3ItZWFjaGA6IHN0ZXBzIGZvciBlYWNoIG9mIG1hbnksIGVhY2ggaW4gYSBzY29wZSBvZiBpdHMgb3duLCBzbyBtYW55IGF0IG9uY2UuICovXG5pbXBvcnQgdHlwZSB7IEZvckVhY2hTdGVwRmlsZSB9IGZyb20gJy4uLy4uL2NvbGxlY3Rpb24vZmlsZXMvdHJhaWwtZmlsZS5qcyc7XG5pbXBvcnQgeyBhc0Fuc3dlciB9IGZyb20gJy4uLy4uL3BsYWNlL29ic2VydmVkLmpzJztcbmltcG9ydCB7IHJlYWRQbGFjZSB9IGZyb20gJy4uLy4uL3BsYWNlL3JlZ2lzdHJ5LmpzJztcbmltcG9ydCB7IGFzUHJvYmxlbSwgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyB0ZXh0T2YgfSBmcm9tICcuLi8uLi92YWx1ZS90ZXh0LmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUsIFZhbHVlTWFwIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgdHlwZSB7IFRhYmxlRXZlbnQgfSBmcm9tICcuLi9ldmVudHMuanMnO1xuaW1wb3J0IHsgZ3JhdmVyIH0gZnJvbSAnLi4vZ3Jhdml0eS5qcyc7XG5pbXBvcnQgeyBtYW55QXRPbmNlIH0gZnJvbSAnLi4vbWFueS5qcyc7XG5pbXBvcnQgeyBTY29wZSB9IGZyb20gJy4uL3Njb3BlLmpzJztcbmltcG9ydCB7IHNlY3JldHNJbiB9IGZyb20gJy4uL3NlY3JldHMtYWhlYWQuanMnO1xuaW1wb3J0IHR5cGUgeyBQbGFubmVkU3RlcCwgU3RlcEtpbmQsIFN0ZXBSZXN1bHQsIFdhbGsgfSBmcm9tICcuLi9zdGVwLWtpbmQuanMnO1xuaW1wb3J0IHsgbGluZU9mLCBvcGVuVGFibGUsIHBsYW5UYWJsZSwgc2V0dGxlVGFibGUsIHR5cGUgVGFibGUsIHR5cGUgVGFibGVQbGFuIH0gZnJvbSAnLi4vdGFibGUuanMnO1xuaW1wb3J0IHsgdHlwZSBQYWdlc1RvbGQsIHBsYW5NZW1iZXJzIH0gZnJvbSAnLi9tZW1iZXJzLmpzJztcblxuaW50ZXJmYWNlIENvdW50cyB7XG4gIG9rOiBudW1iZXI7XG4gIGZhaWxlZDogbnVtYmVyO1xuICBwYXNzZWQ6IG51bWJlcjtcbiAgcHJvYmxlbTogUHJvYmxlbSB8IHVuZGVmaW5lZDtcbn1cblxuZXhwb3J0IGNvbnN0IGZvckVhY2g6IFN0ZXBLaW5kPEZvckVhY2hTdGVwRmlsZT4gPSB7XG4gIG5hbWU6ICdmb3ItZWFjaCcsXG4gIGZpdHM6IChmaWxlKTogZmlsZSBpcyBGb3JFYWNoU3RlcEZpbGUgPT4gJ2Zvci1lYWNoJyBpbiBmaWxlLFxuICBhc3luYyBwbGFuKGZpbGUsIHJvb20pIHtcbiAgICBjb25zdCB7IHlhbWwsIHBhdGgsIGxvYWRzIH0gPSByb29tO1xuICAgIGNvbnN0IG5hbWUgPSBmaWxlLmFzID8/ICdpdGVtJztcbiAgICBjb25zdCBsYWJlbCA9IGZpbGUubmFtZSA/PyBgZm9yIGVhY2ggJHtuYW1lfWA7XG4gICAgY29uc3QgbWVtYmVycyA9IGF3YWl0IHBsYW5NZW1iZXJzKGZpbGVbJ2Zvci1lYWNoJ10sIGxhYmVsLCByb29tKTtcbiAgICBjb25zdCBzdGVwcyA9IGF3YWl0IHJvb20uc3RlcHMoZmlsZS5zdGVwcywgWy4uLnBhdGgsICdzdGVwcyddKTtcbiAgICBjb25zdCB0YWJsZSA9IGZpbGUudGFibGUgJiYgcGxhblRhYmxlKGZpbGUudGFibGUsIHlhbWwsIFsuLi5wYXRoLCAndGFibGUnXSwgbG9hZHMpO1xuICAgIGNvbnN0IGtleVBsYWNlID0gZmlsZVsnb25jZS1ieSddID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiBwbGFjZUF0KGZpbGVbJ29uY2UtYnknXSk7XG4gICAgY29uc3QgYXRPbmNlID0gZmlsZVsnYXQtb25jZSddID8/IDE7XG5cbiAgICBmdW5jdGlvbiBwbGFjZUF0KHRleHQ6IHN0cmluZyk6IFJldHVyblR5cGU8dHlwZW9mIHJlYWRQbGFjZT4ge1xuICAgICAgdHJ5IHtcbiAgICAgICAgcmV0dXJuIHJlYWRQbGFjZSh0ZXh0LCBsb2Fkcyk7XG4gICAgICB9IGNhdGNoIChlcnJvcikge1xuICAgICAgICB0aHJvdyBhc1Byb2JsZW0oZXJyb3IpLmF0KHlhbWwucG9zaXRpb24oWy4uLnBhdGgsICdvbmNlLWJ5J10pKTtcbiAgICAgIH1cbiAgICB9XG5cbiAgICByZXR1cm4ge1xuICAgICAga2luZDogJ2Zvci1lYWNoJyxcbiAgICAgIGxhYmVsLFxuICAgICAgY2hhbmdlczogc3RlcHMucmVkdWNlKChzdW0sIHsgY2hhbmdlcyB9KSA9PiBzdW0gKyBjaGFuZ2VzLCAwKSxcbiAgICAgIHJlcXVlc3RzOiBbLi4uKG1lbWJlcnMucmVxdWVzdCA/IFttZW1iZXJzLnJlcXVlc3RdIDogW10pLCAuLi5zdGVwcy5mbGF0TWFwKCh7IHJlcXVlc3RzIH0pID0+IHJlcXVlc3RzKV0sXG4gICAgICB0YWtlczogc3RlcHMuZmxhdE1hcCgoeyB0YWtlcyB9KSA9PiB0YWtlcyA/PyBbXSksXG4gICAgICBzZWNyZXRzOiBbXG4gICAgICAgIC4uLnNlY3JldHNJbihmaWxlWydmb3ItZWFjaCddLCB5YW1sLCBbLi4ucGF0aCwgJ2Zvci1lYWNoJ10pLFxuICAgICAgICAuLi5zdGVwcy5mbGF0TWFwKCh7IHdoZW4sIHNlY3JldHMgfSkgPT4gKHdoZW4gPyBbXSA6IHNlY3JldHMpKSxcbiAgICAgIF0sXG4gICAgICBhc3luYyB3YWxrKHdhbGssIGF0KTogUHJvbWlzZTxTdGVwUmVzdWx0PiB7XG4gICAgICAgIGNvbnN0IHRvbGQ6IFBhZ2VzVG9sZCA9IHt9O1xuICAgICAgICBjb25zdCBjb3VudHM6IENvdW50cyA9IHsgb2s6IDAsIGZhaWxlZDogMCwgcGFzc2VkOiAwLCBwcm9ibGVtOiB1bmRlZmluZWQgfTtcbiAgICAgICAgY29uc3Qgd2hlcmUgPSBgJHt3YWxrLnJvdyA/PyAnJ30gJHtsYWJlbH1gO1xuICAgICAgICBjb25zdCBoYW5kbGVkID0ga2V5UGxhY2UgJiYgaGFuZGxlZEF0KHdhbGssIHdoZXJlKTtcbiAgICAgICAgLy8gV2hlcmUgbm90aGluZyBpcyBzZW50LCB0aGVyZSBhcmUgbm8gYW5zd2VycyB0byBtYWtlIGxpbmVzIG9mLlxuICAgICAgICBjb25zdCBsaW5lcyA9IHdhbGsud29ya3NwYWNlLmRyeVJ1biA/IHVuZGVmaW5lZCA6IHRhYmxlO1xuICAgICAgICBjb25zdCBvcGVuID0gbGluZXMgJiYgKGF3YWl0IG9wZW5UYWJsZShsaW5lcywgd2Fsay53b3Jrc3BhY2UuY29sbGVjdGlvbi5yb290KSk7XG4gICAgICAgIGNvbnN0IHdvcmsgPSBhc3luYyAoeyBudW1iZXIsIHZhbHVlLCBzZWNyZXQgfTogTWVtYmVyKTogUHJvbWlzZTx2b2lkPiA9PiB7XG4gICAgICAgICAgY29uc3Qga2V5ID0ga2V5UGxhY2UgJiYga2V5T2Yoa2V5UGxhY2UuZmluZChhc0Fuc3dlcih2YWx1ZSkpLCBrZXlQbGFjZS50ZXh0KTtcbiAgICAgICAgICBpZiAoa2V5ICE9PSB1bmRlZmluZWQgJiYgaGFuZGxlZD8uaGFzKGtleSkpIHtcbiAgICAgICAgICAgIGNvdW50cy5wYXNzZWQgKz0gMTtcbiAgICAgICAgICAgIHJldHVybjtcbiAgICAgICAgICB9XG4gICAgICAgICAgY29uc3Qgc2NvcGUgPSBuZXcgU2NvcGUoXG4gICAgICAgICAgICBuZXcgTWFwKFtbbmFtZSwgeyB2YWx1ZSwgc2VjcmV0LCBvcmlnaW46IGAke2xhYmVsfSAke251bWJlcn1gIH1dXSksXG4gICAgICAgICAgICBsYWJlbCxcbiAgICAgICAgICAgIHdhbGsuc2NvcGUsXG4gICAgICAgICAgKTtcbiAgICAgICAgICBjb25zdCBpbm5lciA9IHtcbiAgICAgICAgICAgIC4uLndhbGssXG4gICAgICAgICAgICBhdDogYCR7YXR9OiR7bnVtYmVyfWAsXG4gICAgICAgICAgICBzY29wZSxcbiAgICAgICAgICAgIGRlcHRoOiB3YWxrLmRlcHRoICsgMSxcbiAgICAgICAgICAgIG1lbWJlcjogYCR7bmFtZX0gJHtudW1iZXJ9YCxcbiAgICAgICAgICAgIHRhYmxlOiBsaW5lcyxcbiAgICAgICAgICAgIGxhc3Q6IHsgY2VsbHM6IHt9IH0sXG4gICAgICAgICAgfTtcbiAgICAgICAgICBjb25zdCB7IHByb2JsZW0sIGNlbGxzIH0gPSBhd2FpdCBtZW1iZXJPZihzdGVwcywgaW5uZXIsIGxpbmVzKTtcbiAgICAgICAgICBpZiAoY2VsbHMgJiYgb3BlbikgYXdhaXQgb3Blbi5hZGQobnVtYmVyLCBjZWxscyk7XG4gICAgICAgICAgY291bnRzW3Byb2JsZW0gPyAnZmFpbGVkJyA6ICdvayddICs9IDE7XG4gICAgICAgICAgaWYgKHByb2JsZW0pIGNvdW50cy5wcm9ibGVtID0gZ3JhdmVyKGNvdW50cy5wcm9ibGVtLCBwcm9ibGVtKTtcbiAgICAgICAgICBlbHNlIGlmIChrZXkgIT09IHVuZGVmaW5lZCAmJiAhd2Fsay5zaWduYWwuYWJvcnRlZCkge1xuICAgICAgICAgICAgaGFuZGxlZD8uYWRkKGtleSk7XG4gICAgICAgICAgICB3YWxrLmpvdXJuYWw/LmhhbmRsZWQod2hlcmUsIGtleSk7XG4gICAgICAgICAgfVxuICAgICAgICB9O1xuICAgICAgICBsZXQgZW5kZWQ6IFByb2JsZW0gfCB1bmRlZmluZWQ7XG4gICAgICAgIHRyeSB7XG4gICAgICAgICAgZW5kZWQgPSBhd2FpdCBtYW55QXRPbmNlKG51bWJlcmVkKG1lbWJlcnMucmVhZCh3YWxrLCB0b2xkKSksIGF0T25jZSwgd29yaywgd2Fsay5lbmRpbmcpO1xuICAgICAgICB9IGNhdGNoIChlcnJvcikge1xuICAgICAgICAgIGF3YWl0IG9wZW4/LmFiYW5kb24oKTtcbiAgICAgICAgICB0aHJvdyBlcnJvcjtcbiAgICAgICAgfVxuICAgICAgICBsZXQgc2V0dGxlZDogVGFibGVFdmVudCB8IHVuZGVmaW5lZDtcbiAgICAgICAgaWYgKHdhbGsuZW5kaW5nLmFib3J0ZWQpIGF3YWl0IG9wZW4/LmFiYW5kb24oKTtcbiAgICAgICAgZWxzZSBpZiAobGluZXMgJiYgb3Blbikgc2V0dGxlZCA9IGF3YWl0IHNldHRsZShsaW5lcywgb3BlbiwgbGFiZWwsIHdhbGspO1xuICAgICAgICBjb25zdCBjYW1lID0gcmVzdWx0KGNvdW50cywgdG9sZCwgd2Fsay5zaWduYWwuYWJvcnRlZCA/IHVuZGVmaW5lZCA6IGVuZGVkLCBsaW5lcyk7XG4gICAgICAgIHJldHVybiBzZXR0bGVkID8geyAuLi5jYW1lLCB0YWJsZTogc2V0dGxlZCB9IDogY2FtZTtcbiAgICAgIH0sXG4gICAgfTtcbiAgfSxcbn07XG5cbmludGVyZmFjZSBNZW1iZXIge1xuICByZWFkb25seSBudW1iZXI6IG51bWJlcjtcbiAgcmVhZG9ubHkgdmFsdWU6IFZhbHVlO1xuICByZWFkb25seSBzZWNyZXQ6IGJvb2xlYW47XG59XG5cbmFzeW5jIGZ1bmN0aW9uKiBudW1iZXJlZChcbiAgbWVtYmVyczogQXN5bmNJdGVyYWJsZTx7IHJlYWRvbmx5IHZhbHVlOiBWYWx1ZTsgcmVhZG9ubHkgc2VjcmV0OiBib29sZWFuIH0+LFxuKTogQXN5bmNHZW5lcmF0b3I8TWVtYmVyPiB7XG4gIGxldCBudW1iZXIgPSAwO1xuICBmb3IgYXdhaXQgKGNvbnN0IHsgdmFsdWUsIHNlY3JldCB9IG9mIG1lbWJlcnMpIHtcbiAgICBudW1iZXIgKz0gMTtcbiAgICB5aWVsZCB7IG51bWJlciwgdmFsdWUsIHNlY3JldCB9O1xuICB9XG59XG5cbi8qKiBXYWxrcyB0aGUgc3RlcHMgZm9yIG9uZSBvZiBtYW55LCBhbmQgd29ya3Mgb3V0IGl0cyBsaW5lIG9mIHRoZSB0YWJsZS4gKi9cbmFzeW5jIGZ1bmN0aW9uIG1lbWJlck9mKFxuICBzdGVwczogcmVhZG9ubHkgUGxhbm5lZFN0ZXBbXSxcbiAgd2FsazogV2FsayxcbiAgdGFibGU6IFRhYmxlUGxhbiB8IHVuZGVmaW5lZCxcbik6IFByb21pc2U8eyByZWFkb25seSBwcm9ibGVtOiBQcm9ibGVtIHwgdW5kZWZpbmVkOyByZWFkb25seSBjZWxsczogVmFsdWVNYXAgfCB1bmRlZmluZWQgfT4ge1xuICBjb25zdCBwcm9ibGVtID0gYXdhaXQgd2Fsay5zdGVwcyhzdGVwcywgd2Fsayk7XG4gIHJldHVybiB0YWJsZSA/IGxpbmVPZih0YWJsZSwgd2FsaywgcHJvYmxlbSkgOiB7IHByb2JsZW0sIGNlbGxzOiB1bmRlZmluZWQgfTtcbn1cblxuLyoqIFB1dHMgdGhlIHRhYmxlIHdoZXJlIGl0IGlzIHdhbnRlZC4gQHJldHVybnMgd2hhdCBpcyB0b2xkIG9mIGl0ICovXG5hc3luYyBmdW5jdGlvbiBzZXR0bGUocGxhbjogVGFibGVQbGFuLCB0YWJsZTogVGFibGUsIGxhYmVsOiBzdHJpbmcsIHdhbGs6IFdhbGspOiBQcm9taXNlPFRhYmxlRXZlbnQ+IHtcbiAgY29uc3QgZXZlbnQgPSBhd2FpdCBzZXR0bGVUYWJsZShwbGFuLCB0YWJsZSwgbGFiZWwsIHdhbGsucm93KTtcbiAgaWYgKHBsYW4uYXMgIT09IHVuZGVmaW5lZCkgd2Fsay5zY29wZS5zZXQocGxhbi5hcywgeyB2YWx1ZTogZXZlbnQubGluZXMsIG9yaWdpbjogYHRhYmxlIG9mIHN0ZXAgJHtsYWJlbH1gIH0pO1xuICByZXR1cm4gZXZlbnQ7XG59XG5cbmZ1bmN0aW9uIHJlc3VsdChcbiAgeyBvaywgZmFpbGVkLCBwYXNzZWQsIHByb2JsZW0gfTogQ291bnRzLFxuICB7IHNlbnQsIHBhZ2VzIH06IFBhZ2VzVG9sZCxcbiAgZW5kZWQ6IFByb2JsZW0gfCB1bmRlZmluZWQsXG4gIHRhYmxlOiBUYWJsZVBsYW4gfCB1bmRlZmluZWQsXG4pOiBTdGVwUmVzdWx0IHtcbiAgY29uc3QgcHJvYmxlbXM6IFByb2JsZW1bXSA9IFtdO1xuICBpZiAoZW5kZWQpIHByb2JsZW1zLnB1c2goZW5kZWQpO1xuICBpZiAoZmFpbGVkID4gMCAmJiBwcm9ibGVtKSB7XG4gICAgcHJvYmxlbXMucHVzaChuZXcgUHJvYmxlbShwcm9ibGVtLmNvZGUsIHsgd2hhdDogYCR7ZmFpbGVkfSBvZiAke29rICsgZmFpbGVkfSBmYWlsZWRgLCBjYXVzZTogcHJvYmxlbS53aGF0IH0pKTtcbiAgfVxuICByZXR1cm4ge1xuICAgIHNlbnQsXG4gICAga2VwdDogdGFibGU/LmFzID09PSB1bmRlZmluZWQgPyBbXSA6IFt0YWJsZS5hc10sXG4gICAgcHJvYmxlbXMsXG4gICAgdG9sZDogeyBtZW1iZXJzOiB7IG9rLCBmYWlsZWQsIHBhc3NlZCB9LCBwYWdlcyB9LFxuICB9O1xufVxuXG5mdW5jdGlvbiBoYW5kbGVkQXQoeyBoYW5kbGVkIH06IFdhbGssIHdoZXJlOiBzdHJpbmcpOiBTZXQ8c3RyaW5nPiB7XG4gIGxldCBrZXlzID0gaGFuZGxlZC5nZXQod2hlcmUpO1xuICBpZiAoIWtleXMpIHtcbiAgICBrZXlzID0gbmV3IFNldCgpO1xuICAgIGhhbmRsZWQuc2V0KHdoZXJlLCBrZXlzKTtcbiAgfVxuICByZXR1cm4ga2V5cztcbn1cblxuZnVuY3Rpb24ga2V5T2YoZm91bmQ6IFZhbHVlIHwgdW5kZWZpbmVkLCBwbGFjZTogc3RyaW5nKTogc3RyaW5nIHtcbiAgaWYgKGZvdW5kICE9PSB1bmRlZmluZWQpIHJldHVybiB0ZXh0T2YoZm91bmQpO1xuICB0aHJvdyBuZXcgUHJvYmxlbSgncGxhY2Utbm90LWZvdW5kJywge1xuICAgIHdoYXQ6IGBhbiBpdGVtIGhhcyBub3RoaW5nIGF0ICR7cGxhY2V9LCB3aGljaCB0ZWxscyBpdCBhcGFydGAsXG4gICAgcmVtZWR5OiAnY29ycmVjdCBvbmNlLWJ5JyxcbiAgfSk7XG59XG4iLCAiLyoqIEEgc3RlcCB3aXRoIG9ubHkgYGtlZXBgOiBuYW1lcyBmb3IgdmFsdWVzIHRoYXQgYXJlIHdvcmtlZCBvdXQuICovXG5pbXBvcnQgdHlwZSB7IEtlZXBTdGVwRmlsZSB9IGZyb20gJy4uLy4uL2NvbGxlY3Rpb24vZmlsZXMvdHJhaWwtZmlsZS5qcyc7XG5pbXBvcnQgeyBldmFsdWF0ZWQsIHBsYW5HaXZlcywgd2Fsa0V2YWx1YXRpb24gfSBmcm9tICcuLi9naXZpbmcuanMnO1xuaW1wb3J0IHsgc2VjcmV0c0luIH0gZnJvbSAnLi4vc2VjcmV0cy1haGVhZC5qcyc7XG5pbXBvcnQgdHlwZSB7IFN0ZXBLaW5kIH0gZnJvbSAnLi4vc3RlcC1raW5kLmpzJztcblxuY29uc3Qgb3RoZXJzID0gWydzZW5kJywgJ3RyYWlsJywgJ2Zvci1lYWNoJywgJ3BvbGwnLCAnY2hvb3NlJywgJ2NvbXBhcmUnXSBhcyBjb25zdDtcblxuZXhwb3J0IGNvbnN0IGtlZXA6IFN0ZXBLaW5kPEtlZXBTdGVwRmlsZT4gPSB7XG4gIG5hbWU6ICdrZWVwJyxcbiAgZml0czogKGZpbGUpOiBmaWxlIGlzIEtlZXBTdGVwRmlsZSA9PiAna2VlcCcgaW4gZmlsZSAmJiAhb3RoZXJzLnNvbWUoKGtleSkgPT4ga2V5IGluIGZpbGUpLFxuICBhc3luYyBwbGFuKGZpbGUsIHJvb20pIHtcbiAgICBjb25zdCB2YWx1ZXMgPSBwbGFuR2l2ZXMoZmlsZS5rZWVwLCByb29tLCBbLi4ucm9vbS5wYXRoLCAna2VlcCddKTtcbiAgICBjb25zdCBsYWJlbCA9IGZpbGUubmFtZSA/PyBga2VlcCAke1suLi52YWx1ZXMua2V5cygpXS5qb2luKCcsICcpfWA7XG4gICAgcmV0dXJuIHtcbiAgICAgIGtpbmQ6ICdrZWVwJyxcbiAgICAgIGxhYmVsLFxuICAgICAgY2hhbmdlczogMCxcbiAgICAgIHJlcXVlc3RzOiBbXSxcbiAgICAgIHNlY3JldHM6IHNlY3JldHNJbihmaWxlLmtlZXAsIHJvb20ueWFtbCwgWy4uLnJvb20ucGF0aCwgJ2tlZXAnXSksXG4gICAgICBhc3luYyB3YWxrKHsgd29ya3NwYWNlLCBzY29wZSB9KSB7XG4gICAgICAgIGZvciAoY29uc3QgW25hbWUsIHRyZWVdIG9mIHZhbHVlcykge1xuICAgICAgICAgIC8vIE9uZSBhZnRlciB0aGUgb3RoZXIsIHNvIHRoYXQgYSB2YWx1ZSBtYXkgdXNlIHRoZSBvbmUgYmVmb3JlIGl0LlxuICAgICAgICAgIGNvbnN0IG5hbWVkID0gZXZhbHVhdGVkKHRyZWUsIHdhbGtFdmFsdWF0aW9uKHdvcmtzcGFjZSwgc2NvcGUpLCBga2VwdCBieSBzdGVwICR7bGFiZWx9YCk7XG4gICAgICAgICAgaWYgKG5hbWVkKSBzY29wZS5zZXQobmFtZSwgbmFtZWQpO1xuICAgICAgICB9XG4gICAgICAgIHJldHVybiB7IHNlbnQ6IHVuZGVmaW5lZCwga2VwdDogWy4uLnZhbHVlcy5rZXlzKCldLCBwcm9ibGVtczogW10gfTtcbiAgICAgIH0sXG4gICAgICAvLyBBIG1vbWVudCBvciBhIHJhbmRvbSBudW1iZXIgaXMgdGhlIHNhbWUgd2hlbiB0aGUgcnVuIGlzIGdvbmUgb24gd2l0aC5cbiAgICAgIHJlc3RvcmU6ICgpID0+IHVuZGVmaW5lZCxcbiAgICB9O1xuICB9LFxufTtcbiIsICIvKiogV2hhdCBzdGVwcyB0aGF0IHNlbmQgb25lIHJlcXVlc3QgaGF2ZSBpbiBjb21tb246IGl0cyBpbnB1dHMsIGl0cyBzZXNzaW9ucywgd2hhdCBpcyBrZXB0IG9mIGl0cyBhbnN3ZXIuICovXG5pbXBvcnQgdHlwZSB7IFBvbGxTdGVwRmlsZSwgU2VuZFN0ZXBGaWxlIH0gZnJvbSAnLi4vLi4vY29sbGVjdGlvbi9maWxlcy90cmFpbC1maWxlLmpzJztcbmltcG9ydCB7IGNvbXBpbGVLZWVwcywgdHlwZSBLZWVwLCB0eXBlIEtlcHQgfSBmcm9tICcuLi8uLi9leHBlY3RhdGlvbi9rZWVwcy5qcyc7XG5pbXBvcnQgeyBsYXppbHkgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL25hbWVzLmpzJztcbmltcG9ydCB7IHR5cGUgR2l2ZXMsIGdpdmVyLCBwbGFuR2l2ZXMsIHdhbGtFdmFsdWF0aW9uIH0gZnJvbSAnLi4vZ2l2aW5nLmpzJztcbmltcG9ydCB0eXBlIHsgUHJlcGFyZWRSZXF1ZXN0IH0gZnJvbSAnLi4vcHJlcGFyZS5qcyc7XG5pbXBvcnQgeyB0eXBlIFNlY3JldFVzZSwgc2VjcmV0c0luLCBzZWNyZXRzT2YgfSBmcm9tICcuLi9zZWNyZXRzLWFoZWFkLmpzJztcbmltcG9ydCB0eXBlIHsgU2VuZGluZyB9IGZyb20gJy4uL3NlbmRpbmcuanMnO1xuaW1wb3J0IHR5cGUgeyBQbGFuUm9vbSwgV2FsayB9IGZyb20gJy4uL3N0ZXAta2luZC5qcyc7XG5cbmV4cG9ydCBpbnRlcmZhY2UgU2VudFN0ZXAge1xuICByZWFkb25seSBwcmVwYXJlZDogUHJlcGFyZWRSZXF1ZXN0O1xuICByZWFkb25seSBsYWJlbDogc3RyaW5nO1xuICByZWFkb25seSBzZWNyZXRzOiByZWFkb25seSBTZWNyZXRVc2VbXTtcbiAgLyoqIFdoYXQgZXZlcnkgc2VuZGluZyBvZiBpdCBicmluZ3MgYWxvbmcuIEBwYXJhbSBvd24gd2hhdCBpdHMga2luZCBvZiBzdGVwIGFkZHMgKi9cbiAgc2VuZGluZyh3YWxrOiBXYWxrLCBvd24/OiBQaWNrPFNlbmRpbmcsICdleHBlY3RhdGlvbnMnIHwgJ2lkZW1wb3RlbmN5S2V5JyB8ICdvbkxlYXZpbmcnPik6IFNlbmRpbmc7XG4gIC8qKiBQdXRzIHdoYXQgd2FzIGtlcHQgd2hlcmUgdGhlIHN0ZXBzIGJlaGluZCBpdCBmaW5kIGl0LiBAcmV0dXJucyB0aGUgbmFtZXMgKi9cbiAga2VlcCh3YWxrOiBXYWxrLCBrZXB0OiByZWFkb25seSBLZXB0W10pOiBzdHJpbmdbXTtcbn1cblxuLyoqIEBwYXJhbSBrZXkgdGhlIGtleSBvZiB0aGUgc3RlcCB1bmRlciB3aGljaCB0aGUgcmVxdWVzdCBzdGFuZHMgKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiBwbGFuU2VudChcbiAgZmlsZTogUGljazxTZW5kU3RlcEZpbGUgJiBQb2xsU3RlcEZpbGUsICduYW1lJyB8ICdnaXZlJyB8ICdzZXNzaW9uJyB8ICdrZWVwJz4sXG4gIHJlcXVlc3Q6IHN0cmluZyxcbiAga2V5OiAnc2VuZCcgfCAncG9sbCcsXG4gIHJvb206IFBsYW5Sb29tLFxuKTogUHJvbWlzZTxTZW50U3RlcD4ge1xuICBjb25zdCB7IHlhbWwsIHBhdGgsIGxvYWRzLCB3b3Jrc3BhY2UgfSA9IHJvb207XG4gIGNvbnN0IHByZXBhcmVkID0gYXdhaXQgcm9vbS5yZXF1ZXN0KHJlcXVlc3QsIGtleSk7XG4gIGNvbnN0IHsgbmFtZSwgY29udGVudCwgc2Vzc2lvbnM6IHVzdWFsIH0gPSBwcmVwYXJlZC5wbGFuO1xuICBjb25zdCBsYWJlbCA9IGZpbGUubmFtZSA/PyBuYW1lO1xuICBjb25zdCBnaXZlczogR2l2ZXMgPSBwbGFuR2l2ZXMoZmlsZS5naXZlLCByb29tLCBbLi4ucGF0aCwgJ2dpdmUnXSk7XG4gIGNvbnN0IGtlZXBzOiByZWFkb25seSBLZWVwW10gPSBjb21waWxlS2VlcHMoZmlsZS5rZWVwLCB5YW1sLCBbLi4ucGF0aCwgJ2tlZXAnXSwgbG9hZHMsIGNvbnRlbnQubmFtZXNwYWNlcyk7XG4gIGNvbnN0IHNlc3Npb25zID0gZmlsZS5zZXNzaW9uID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiBmaWxlLnNlc3Npb24gPT09ICdub25lJyA/IFtdIDogW2ZpbGUuc2Vzc2lvbl0uZmxhdCgpO1xuICBjb25zdCBvd24gPSB3b3Jrc3BhY2UuY29sbGVjdGlvbi5yZWFkKCdyZXF1ZXN0JywgbmFtZSk7XG4gIHJldHVybiB7XG4gICAgcHJlcGFyZWQsXG4gICAgbGFiZWwsXG4gICAgc2VjcmV0czogW1xuICAgICAgLi4uc2VjcmV0c0luKGZpbGUuZ2l2ZSwgeWFtbCwgWy4uLnBhdGgsICdnaXZlJ10pLFxuICAgICAgLi4uc2VjcmV0c09mKHdvcmtzcGFjZSwgb3duLCBzZXNzaW9ucyA/PyB1c3VhbCwgcHJlcGFyZWQuc2lnbmVyPy5uYW1lKSxcbiAgICBdLFxuICAgIC8vIE9uZSBsaXRlcmFsLCBub3RoaW5nIHNwcmVhZDogYSBydW4gbWFrZXMgdGhvdXNhbmRzIG9mIHRoZW0uXG4gICAgc2VuZGluZzogKHsgd29ya3NwYWNlOiBhdCwgc2NvcGUsIHNpZ25hbCwgcm93LCBmb3JTZXNzaW9uIH0sIG93bikgPT4gKHtcbiAgICAgIGdpdmVuOiBnaXZlcihnaXZlcywgYXQsIHNjb3BlLCBsYWJlbCksXG4gICAgICAvLyBNb3N0IHNlbmRpbmdzIG5ldmVyIGxvb2sgYXQgdGhlIG5hbWVzIG9mIHRoZSB3YWxrLlxuICAgICAgY2FsbGVyOiBsYXppbHkoKCkgPT4gd2Fsa0V2YWx1YXRpb24oYXQsIHNjb3BlKS5uYW1lcyksXG4gICAgICBzZXNzaW9uczogZm9yU2Vzc2lvbiA9PT0gdW5kZWZpbmVkID8gc2Vzc2lvbnMgOiBbXSxcbiAgICAgIGNvb2tpZXNPZjogZm9yU2Vzc2lvbiA9PT0gdW5kZWZpbmVkID8gdW5kZWZpbmVkIDogW2ZvclNlc3Npb25dLFxuICAgICAga2VlcHMsXG4gICAgICBzaWduYWwsXG4gICAgICBzdGVwOiBsYWJlbCxcbiAgICAgIHJvdyxcbiAgICAgIGV4cGVjdGF0aW9uczogb3duPy5leHBlY3RhdGlvbnMgPz8gW10sXG4gICAgICBpZGVtcG90ZW5jeUtleTogb3duPy5pZGVtcG90ZW5jeUtleSxcbiAgICAgIG9uTGVhdmluZzogb3duPy5vbkxlYXZpbmcsXG4gICAgfSksXG4gICAga2VlcCh7IHNjb3BlIH0sIGtlcHQpIHtcbiAgICAgIGZvciAoY29uc3QgeyBuYW1lOiBhcywgdmFsdWUsIHNlY3JldCwgcGxhY2UgfSBvZiBrZXB0KVxuICAgICAgICBzY29wZS5zZXQoYXMsIHsgdmFsdWUsIHNlY3JldCwgb3JpZ2luOiBga2VwdCBieSBzdGVwICR7bGFiZWx9IGZyb20gJHtwbGFjZX1gIH0pO1xuICAgICAgcmV0dXJuIGtlcHQubWFwKChvbmUpID0+IG9uZS5uYW1lKTtcbiAgICB9LFxuICB9O1xufVxuIiwgIi8qKiBgcG9sbGA6IGEgcmVxdWVzdCBpcyBzZW50IHVudGlsIGl0cyBhbnN3ZXIgaXMgYXMgYXdhaXRlZC4gKi9cbmltcG9ydCB0eXBlIHsgUG9sbFN0ZXBGaWxlIH0gZnJvbSAnLi4vLi4vY29sbGVjdGlvbi9maWxlcy90cmFpbC1maWxlLmpzJztcbmltcG9ydCB0eXBlIHsgUmVjZWl2ZWQgfSBmcm9tICcuLi8uLi9leGNoYW5nZS9yZWNlaXZlZC5qcyc7XG5pbXBvcnQgeyBjb21waWxlRXhwZWN0YXRpb25zLCB0eXBlIEV4cGVjdGF0aW9uLCBqdWRnZSB9IGZyb20gJy4uLy4uL2V4cGVjdGF0aW9uL2V4cGVjdGF0aW9ucy5qcyc7XG5pbXBvcnQgeyBFdmFsdWF0aW9uIH0gZnJvbSAnLi4vLi4vZXhwcmVzc2lvbi9ldmFsdWF0aW9uLmpzJztcbmltcG9ydCB7IHNob3J0VGV4dCB9IGZyb20gJy4uLy4uL21hdGNoZXIvcmVhZGluZy5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IGR1cmF0aW9uVGV4dCwgcGFyc2VEdXJhdGlvbiB9IGZyb20gJy4uLy4uL3ZhbHVlL21lYXN1cmVzLmpzJztcbmltcG9ydCB7IHBhdXNlIH0gZnJvbSAnLi4vcGFjaW5nL3RyaWVzLmpzJztcbmltcG9ydCB7IHNlbmRSZXF1ZXN0IH0gZnJvbSAnLi4vc2VuZC5qcyc7XG5pbXBvcnQgdHlwZSB7IFNlbnQgfSBmcm9tICcuLi9zZW5kaW5nLmpzJztcbmltcG9ydCB0eXBlIHsgU3RlcEtpbmQsIFdhbGsgfSBmcm9tICcuLi9zdGVwLWtpbmQuanMnO1xuaW1wb3J0IHsgcGxhblNlbnQgfSBmcm9tICcuL3NlbnQtc3RlcC5qcyc7XG5pbXBvcnQgeyBkZW1hbmRVbmNoYW5naW5nIH0gZnJvbSAnLi91bmNoYW5naW5nLmpzJztcblxuLyoqIEEgZ3Jvd2luZyBwYXVzZSBncm93cyBubyBmdXJ0aGVyLCBpbiBtaWxsaXNlY29uZHMuICovXG5jb25zdCBsb25nZXN0UGF1c2UgPSAzMF8wMDA7XG5cbmV4cG9ydCBjb25zdCBwb2xsOiBTdGVwS2luZDxQb2xsU3RlcEZpbGU+ID0ge1xuICBuYW1lOiAncG9sbCcsXG4gIGZpdHM6IChmaWxlKTogZmlsZSBpcyBQb2xsU3RlcEZpbGUgPT4gJ3BvbGwnIGluIGZpbGUsXG4gIGFzeW5jIHBsYW4oZmlsZSwgcm9vbSkge1xuICAgIGNvbnN0IHsgeWFtbCwgcGF0aCwgbG9hZHMsIHdvcmtzcGFjZSB9ID0gcm9vbTtcbiAgICBjb25zdCBzdGVwID0gYXdhaXQgcGxhblNlbnQoZmlsZSwgZmlsZS5wb2xsLCAncG9sbCcsIHJvb20pO1xuICAgIGNvbnN0IHsgcHJlcGFyZWQsIGxhYmVsIH0gPSBzdGVwO1xuICAgIGRlbWFuZFVuY2hhbmdpbmcocHJlcGFyZWQsICdwb2xsJywgcm9vbSk7XG4gICAgY29uc3QgeyBuYW1lc3BhY2VzIH0gPSBwcmVwYXJlZC5wbGFuLmNvbnRlbnQ7XG4gICAgY29uc3QgY29tcGlsZWQgPSAoa2V5OiAndW50aWwnIHwgJ3VubGVzcycpOiByZWFkb25seSBFeHBlY3RhdGlvbltdID0+XG4gICAgICBjb21waWxlRXhwZWN0YXRpb25zKGZpbGVba2V5XSwgeWFtbCwgWy4uLnBhdGgsIGtleV0sIHdvcmtzcGFjZS5yZWFkVGV4dCwgbG9hZHMsIG5hbWVzcGFjZXMpO1xuICAgIGNvbnN0IFt1bnRpbCwgdW5sZXNzXSA9IFtjb21waWxlZCgndW50aWwnKSwgY29tcGlsZWQoJ3VubGVzcycpXTtcbiAgICBjb25zdCBmaXJzdCA9IHBhcnNlRHVyYXRpb24oZmlsZS5wYXVzZSA/PyAnMXMnKSBhcyBudW1iZXI7XG4gICAgY29uc3Qgd2l0aGluID0gcGFyc2VEdXJhdGlvbihmaWxlLndpdGhpbiA/PyAnNjBzJykgYXMgbnVtYmVyO1xuICAgIGNvbnN0IGdyb3d0aCA9IGZpbGUuZ3Jvd3RoID8/IDE7XG5cbiAgICByZXR1cm4ge1xuICAgICAga2luZDogJ3BvbGwnLFxuICAgICAgbGFiZWwsXG4gICAgICBjaGFuZ2VzOiAwLFxuICAgICAgcmVxdWVzdHM6IFtwcmVwYXJlZF0sXG4gICAgICBzZWNyZXRzOiBzdGVwLnNlY3JldHMsXG4gICAgICBhc3luYyB3YWxrKHdhbGspIHtcbiAgICAgICAgY29uc3Qgc3RhcnRlZCA9IHBlcmZvcm1hbmNlLm5vdygpO1xuICAgICAgICBjb25zdCBzZWVuOiBzdHJpbmdbXSA9IFtdO1xuICAgICAgICBsZXQgd2FpdCA9IGZpcnN0O1xuICAgICAgICBmb3IgKGxldCBhc2tlZCA9IDE7IDsgYXNrZWQgKz0gMSkge1xuICAgICAgICAgIGNvbnN0IHNlbmRpbmcgPSBzdGVwLnNlbmRpbmcod2Fsayk7XG4gICAgICAgICAgY29uc3Qgc2VudCA9IGF3YWl0IHNlbmRSZXF1ZXN0KHdhbGsud29ya3NwYWNlLCBwcmVwYXJlZCwgeyAuLi5zZW5kaW5nLCBleHBlY3RhdGlvbnM6IHVudGlsIH0pO1xuICAgICAgICAgIGNvbnN0IHsgcmVjZWl2ZWQgfSA9IHNlbnQub3V0Y29tZTtcbiAgICAgICAgICBpZiAocmVjZWl2ZWQpIG5vdGUoc2VlbiwgdW50aWwsIHJlY2VpdmVkKTtcbiAgICAgICAgICBjb25zdCB0b2xkID0geyBzZWVuOiB7IGFza2VkLCB2YWx1ZXM6IHNlZW4gfSB9O1xuICAgICAgICAgIGlmIChzZW50LnByb2JsZW1zLmxlbmd0aCA9PT0gMCkgcmV0dXJuIHsgc2VudCwga2VwdDogc3RlcC5rZWVwKHdhbGssIHNlbnQua2VwdCksIHByb2JsZW1zOiBbXSwgdG9sZCB9O1xuICAgICAgICAgIGlmICh3YWxrLnNpZ25hbC5hYm9ydGVkKSByZXR1cm4geyBzZW50LCBrZXB0OiBbXSwgcHJvYmxlbXM6IHNlbnQucHJvYmxlbXMsIHRvbGQgfTtcbiAgICAgICAgICBjb25zdCBuZXZlciA9IHJlY2VpdmVkICYmIChhd2FpdCBhbGxIb2xkKHVubGVzcywgcmVjZWl2ZWQsIHdhbGssIHNlbmRpbmcuY2FsbGVyKSk7XG4gICAgICAgICAgaWYgKG5ldmVyKSByZXR1cm4geyBzZW50LCBrZXB0OiBbXSwgcHJvYmxlbXM6IFtob3BlbGVzcyh1bmxlc3MsIHJlY2VpdmVkKV0sIHRvbGQgfTtcbiAgICAgICAgICBjb25zdCBlbGFwc2VkID0gcGVyZm9ybWFuY2Uubm93KCkgLSBzdGFydGVkO1xuICAgICAgICAgIGlmIChlbGFwc2VkICsgd2FpdCA+IHdpdGhpbilcbiAgICAgICAgICAgIHJldHVybiB7IHNlbnQsIGtlcHQ6IFtdLCBwcm9ibGVtczogW2xhdGUoc2VudCwgYXNrZWQsIGVsYXBzZWQpLCAuLi5zZW50LnByb2JsZW1zXSwgdG9sZCB9O1xuICAgICAgICAgIGF3YWl0IHBhdXNlKHdhaXQsIHdhbGsuc2lnbmFsKTtcbiAgICAgICAgICB3YWl0ID0gTWF0aC5taW4oTWF0aC5tYXgobG9uZ2VzdFBhdXNlLCBmaXJzdCksIHdhaXQgKiBncm93dGgpO1xuICAgICAgICB9XG4gICAgICB9LFxuICAgICAgcmVzdG9yZTogKCkgPT4gdW5kZWZpbmVkLFxuICAgIH07XG4gIH0sXG59O1xuXG4vKiogV2hhdCBzdGFuZHMgYXQgdGhlIGF3YWl0ZWQgcGxhY2VzLCBhcyBsb25nIGFzIGl0IGNoYW5nZXMuICovXG5mdW5jdGlvbiBub3RlKHNlZW46IHN0cmluZ1tdLCB1bnRpbDogcmVhZG9ubHkgRXhwZWN0YXRpb25bXSwgcmVjZWl2ZWQ6IFJlY2VpdmVkKTogdm9pZCB7XG4gIGNvbnN0IHZhbHVlcyA9IHVudGlsLm1hcCgoeyBwbGFjZSB9KSA9PiB7XG4gICAgdHJ5IHtcbiAgICAgIHJldHVybiBzaG9ydFRleHQocGxhY2UuZmluZChyZWNlaXZlZCkpO1xuICAgIH0gY2F0Y2gge1xuICAgICAgcmV0dXJuICdub3RoaW5nJztcbiAgICB9XG4gIH0pO1xuICBjb25zdCB0ZXh0ID0gdmFsdWVzLmpvaW4oJywgJyk7XG4gIGlmIChzZWVuLmF0KC0xKSAhPT0gdGV4dCkgc2Vlbi5wdXNoKHRleHQpO1xufVxuXG5hc3luYyBmdW5jdGlvbiBhbGxIb2xkKFxuICB3YW50ZWQ6IHJlYWRvbmx5IEV4cGVjdGF0aW9uW10sXG4gIHJlY2VpdmVkOiBSZWNlaXZlZCxcbiAgeyB3b3Jrc3BhY2UgfTogV2FsayxcbiAgbmFtZXM6IEV2YWx1YXRpb25bJ25hbWVzJ10sXG4pOiBQcm9taXNlPGJvb2xlYW4+IHtcbiAgaWYgKHdhbnRlZC5sZW5ndGggPT09IDApIHJldHVybiBmYWxzZTtcbiAgY29uc3Qgc3Vycm91bmRpbmdzID0geyB3b3JsZDogd29ya3NwYWNlLndvcmxkKCksIG9uU2VjcmV0OiB3b3Jrc3BhY2UucmVkYWN0b3IuYWRkIH07XG4gIGNvbnN0IHZlcmRpY3RzID0gYXdhaXQganVkZ2Uod2FudGVkLCByZWNlaXZlZCwgbmV3IEV2YWx1YXRpb24obmFtZXMsIHN1cnJvdW5kaW5ncyksIHsgZG9jdW1lbnRlZDogKCkgPT4gdW5kZWZpbmVkIH0pO1xuICByZXR1cm4gdmVyZGljdHMuZXZlcnkoKHsgb2sgfSkgPT4gb2spO1xufVxuXG5mdW5jdGlvbiBob3BlbGVzcyh1bmxlc3M6IHJlYWRvbmx5IEV4cGVjdGF0aW9uW10sIHJlY2VpdmVkOiBSZWNlaXZlZCk6IFByb2JsZW0ge1xuICBjb25zdCBmb3VuZCA9IHVubGVzcy5tYXAoKHsgcGxhY2UgfSkgPT4gYCR7cGxhY2UudGV4dH0gaXMgJHtzaG9ydFRleHQocGxhY2UuZmluZChyZWNlaXZlZCkpfWApO1xuICByZXR1cm4gbmV3IFByb2JsZW0oJ3N0ZXAtZmFpbGVkJywgeyB3aGF0OiBgaXQgd2lsbCBub3QgY29tZTogJHtmb3VuZC5qb2luKCcsICcpfWAgfSk7XG59XG5cbmNvbnN0IGxhdGUgPSAoeyBvdXRjb21lOiB7IHJlY2VpdmVkIH0gfTogU2VudCwgYXNrZWQ6IG51bWJlciwgZWxhcHNlZDogbnVtYmVyKTogUHJvYmxlbSA9PlxuICBuZXcgUHJvYmxlbSgnc3RlcC1mYWlsZWQnLCB7XG4gICAgd2hhdDogYG5vdCBhcyBhd2FpdGVkIGFmdGVyICR7ZHVyYXRpb25UZXh0KGVsYXBzZWQpfSwgYXNrZWQgJHthc2tlZH0gJHthc2tlZCA9PT0gMSA/ICd0aW1lJyA6ICd0aW1lcyd9YCxcbiAgICByZW1lZHk6IHJlY2VpdmVkID8gJ3dpdGhpbjogc2F5cyBob3cgbG9uZyB0byB3YWl0JyA6IHVuZGVmaW5lZCxcbiAgfSk7XG4iLCAiLyoqIGB1bmRvOmAgb2YgYSBzdGVwOiB0aGUgcmVxdWVzdCB0aGF0IHRha2VzIGl0IGJhY2ssIGFybWVkIHdpdGggdGhlIHZhbHVlcyBhcyB0aGV5IGFyZSB3aGVuIHRoZSBzdGVwIGVuZHMuICovXG5pbXBvcnQgdHlwZSB7IFVuZG9GaWxlIH0gZnJvbSAnLi4vLi4vY29sbGVjdGlvbi9maWxlcy90cmFpbC1maWxlLmpzJztcbmltcG9ydCB7IGdpdmVyLCBwbGFuR2l2ZXMsIHdhbGtFdmFsdWF0aW9uIH0gZnJvbSAnLi4vZ2l2aW5nLmpzJztcbmltcG9ydCB7IG5hbWVzT2YgfSBmcm9tICcuLi9qb3VybmFsL3JlY29yZGVkLmpzJztcbmltcG9ydCB7IHNlbmRSZXF1ZXN0IH0gZnJvbSAnLi4vc2VuZC5qcyc7XG5pbXBvcnQgdHlwZSB7IFBsYW5Sb29tLCBXYWxrIH0gZnJvbSAnLi4vc3RlcC1raW5kLmpzJztcblxuLyoqIEByZXR1cm5zIHdoYXQgYXJtcyBpdCwgZm9yIHRoZSBzdGVwIHRoYXQgc3RhbmRzIHRoZXJlIGluIHRoZSBydW4gKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiBwbGFuVW5kbyhcbiAgZmlsZTogVW5kb0ZpbGUsXG4gIHN0ZXA6IHN0cmluZyxcbiAgcm9vbTogUGxhblJvb20sXG4pOiBQcm9taXNlPCh3YWxrOiBXYWxrLCBhdDogc3RyaW5nKSA9PiB2b2lkPiB7XG4gIGNvbnN0IHByZXBhcmVkID0gYXdhaXQgcm9vbS5yZXF1ZXN0KGZpbGUuc2VuZCwgJ3VuZG8nKTtcbiAgY29uc3QgeyBuYW1lOiByZXF1ZXN0IH0gPSBwcmVwYXJlZC5wbGFuO1xuICBjb25zdCBnaXZlcyA9IHBsYW5HaXZlcyhmaWxlLmdpdmUsIHJvb20sIFsuLi5yb29tLnBhdGgsICd1bmRvJywgJ2dpdmUnXSk7XG4gIGNvbnN0IHdhbnRlZCA9IHByZXBhcmVkLnBsYW4uaW5wdXRzLm1hcCgoeyBuYW1lIH0pID0+IG5hbWUpO1xuICByZXR1cm4gKHdhbGssIGF0KSA9PiB7XG4gICAgY29uc3QgeyB3b3Jrc3BhY2UsIHJvdywgam91cm5hbCB9ID0gd2FsaztcbiAgICBpZiAoam91cm5hbD8udW5kb25lQmVmb3JlKGF0KSkgcmV0dXJuO1xuICAgIGNvbnN0IHNjb3BlID0gd2Fsay5zY29wZS5zbmFwc2hvdCgpO1xuICAgIGlmIChqb3VybmFsICYmICFqb3VybmFsLmFybWVkQmVmb3JlKGF0KSkge1xuICAgICAgY29uc3QgdmFsdWUgPSBnaXZlcihnaXZlcywgd29ya3NwYWNlLCBzY29wZSwgcmVxdWVzdCk7XG4gICAgICBjb25zdCBnaXZlbiA9IG5hbWVzT2Yod2FudGVkLCAobmFtZSkgPT4gcXVpZXRseSgoKSA9PiB2YWx1ZShuYW1lKSkpO1xuICAgICAgY29uc3QgbmFtZXMgPSBuYW1lc09mKHdvcmtzcGFjZS5vdXRzaWRlTmFtZXMsIChuYW1lKSA9PiBzY29wZS5sb29rdXAobmFtZSkpO1xuICAgICAgam91cm5hbC5hcm1lZCh7IGF0LCBzdGVwLCByZXF1ZXN0LCByb3csIGdpdmVuLCBuYW1lcyB9KTtcbiAgICB9XG4gICAgd2Fsay51bmRvLnB1c2goe1xuICAgICAgYXQsXG4gICAgICBzdGVwLFxuICAgICAgbGFiZWw6IHJlcXVlc3QsXG4gICAgICBhc3luYyBydW4oc2lnbmFsKSB7XG4gICAgICAgIGNvbnN0IHNlbnQgPSBhd2FpdCBzZW5kUmVxdWVzdCh3b3Jrc3BhY2UsIHByZXBhcmVkLCB7XG4gICAgICAgICAgZ2l2ZW46IGdpdmVyKGdpdmVzLCB3b3Jrc3BhY2UsIHNjb3BlLCByZXF1ZXN0KSxcbiAgICAgICAgICBjYWxsZXI6IHdhbGtFdmFsdWF0aW9uKHdvcmtzcGFjZSwgc2NvcGUpLm5hbWVzLFxuICAgICAgICAgIHNpZ25hbCxcbiAgICAgICAgICBzdGVwOiBgdW5kbyBvZiAke3N0ZXB9YCxcbiAgICAgICAgICByb3csXG4gICAgICAgIH0pO1xuICAgICAgICByZXR1cm4geyBzZW50LCBrZXB0OiBbXSwgcHJvYmxlbXM6IHNlbnQucHJvYmxlbXMgfTtcbiAgICAgIH0sXG4gICAgfSk7XG4gIH07XG59XG5cbi8qKiBXaGF0IGlzIG1pc3NpbmcgaXMgdG9sZCB3aGVuIHRoZSB1bmRvIHBhcnQgcnVucy4gKi9cbmZ1bmN0aW9uIHF1aWV0bHk8VD4od29yazogKCkgPT4gVCk6IFQgfCB1bmRlZmluZWQge1xuICB0cnkge1xuICAgIHJldHVybiB3b3JrKCk7XG4gIH0gY2F0Y2gge1xuICAgIHJldHVybiB1bmRlZmluZWQ7XG4gIH1cbn1cbiIsICIvKiogYHNlbmRgOiBhIHJlcXVlc3Qgb2YgdGhlIGNvbGxlY3Rpb247IHdoZXJlIGl0IGhhcyBwYWdlcywgYWxsIG9mIHRoZW0uICovXG5pbXBvcnQgdHlwZSB7IFNlbmRTdGVwRmlsZSB9IGZyb20gJy4uLy4uL2NvbGxlY3Rpb24vZmlsZXMvdHJhaWwtZmlsZS5qcyc7XG5pbXBvcnQgeyBjb21waWxlRXhwZWN0YXRpb25zIH0gZnJvbSAnLi4vLi4vZXhwZWN0YXRpb24vZXhwZWN0YXRpb25zLmpzJztcbmltcG9ydCB0eXBlIHsgS2VwdCB9IGZyb20gJy4uLy4uL2V4cGVjdGF0aW9uL2tlZXBzLmpzJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgZ2F0aGVyZWQsIHR5cGUgUGFnZUNvdW50LCBwYWdlc09mIH0gZnJvbSAnLi4vcGFnaW5nL3BhZ2VzLmpzJztcbmltcG9ydCB0eXBlIHsgUHJlcGFyZWRSZXF1ZXN0IH0gZnJvbSAnLi4vcHJlcGFyZS5qcyc7XG5pbXBvcnQgeyBpc1JlcGVhdGFibGUgfSBmcm9tICcuLi9yZXBlYXRhYmxlLmpzJztcbmltcG9ydCB7IHNlbmRSZXF1ZXN0IH0gZnJvbSAnLi4vc2VuZC5qcyc7XG5pbXBvcnQgdHlwZSB7IFNlbmRpbmcsIFNlbnQgfSBmcm9tICcuLi9zZW5kaW5nLmpzJztcbmltcG9ydCB0eXBlIHsgU3RlcEtpbmQsIFdhbGsgfSBmcm9tICcuLi9zdGVwLWtpbmQuanMnO1xuaW1wb3J0IHsgcGxhblNlbnQgfSBmcm9tICcuL3NlbnQtc3RlcC5qcyc7XG5pbXBvcnQgeyBwbGFuVW5kbyB9IGZyb20gJy4vdW5kby1wYXJ0LmpzJztcblxuZXhwb3J0IGNvbnN0IHNlbmQ6IFN0ZXBLaW5kPFNlbmRTdGVwRmlsZT4gPSB7XG4gIG5hbWU6ICdzZW5kJyxcbiAgZml0czogKGZpbGUpOiBmaWxlIGlzIFNlbmRTdGVwRmlsZSA9PiAnc2VuZCcgaW4gZmlsZSxcbiAgYXN5bmMgcGxhbihmaWxlLCByb29tKSB7XG4gICAgY29uc3QgeyB5YW1sLCBwYXRoLCBsb2Fkcywgd29ya3NwYWNlIH0gPSByb29tO1xuICAgIGNvbnN0IHN0ZXAgPSBhd2FpdCBwbGFuU2VudChmaWxlLCBmaWxlLnNlbmQsICdzZW5kJywgcm9vbSk7XG4gICAgY29uc3QgeyBwcmVwYXJlZCwgbGFiZWwgfSA9IHN0ZXA7XG4gICAgY29uc3QgeyBuYW1lc3BhY2VzIH0gPSBwcmVwYXJlZC5wbGFuLmNvbnRlbnQ7XG4gICAgY29uc3QgZXhwZWN0YXRpb25zID0gY29tcGlsZUV4cGVjdGF0aW9ucyhcbiAgICAgIGZpbGUuZXhwZWN0LFxuICAgICAgeWFtbCxcbiAgICAgIFsuLi5wYXRoLCAnZXhwZWN0J10sXG4gICAgICB3b3Jrc3BhY2UucmVhZFRleHQsXG4gICAgICBsb2FkcyxcbiAgICAgIG5hbWVzcGFjZXMsXG4gICAgKTtcbiAgICBjb25zdCB1bmRvID0gZmlsZS51bmRvICYmIChhd2FpdCBwbGFuVW5kbyhmaWxlLnVuZG8sIGxhYmVsLCByb29tKSk7XG5cbiAgICByZXR1cm4ge1xuICAgICAga2luZDogJ3NlbmQnLFxuICAgICAgbGFiZWwsXG4gICAgICBjaGFuZ2VzOiBwcmVwYXJlZC5wbGFuLmNoYW5nZXMgPyAxIDogMCxcbiAgICAgIHJlcXVlc3RzOiBbcHJlcGFyZWRdLFxuICAgICAgc2VjcmV0czogc3RlcC5zZWNyZXRzLFxuICAgICAgYXN5bmMgd2Fsayh3YWxrLCBhdCkge1xuICAgICAgICBjb25zdCBiZWZvcmUgPSB3YWxrLmpvdXJuYWw/Lmtub3duKGF0KTtcbiAgICAgICAgY29uc3QgeyBtZXRob2QsIGNoYW5nZXMgfSA9IHByZXBhcmVkLnBsYW47XG4gICAgICAgIGlmIChiZWZvcmU/LnN0YXRlID09PSAndW5kZXIgd2F5JyAmJiAhaXNSZXBlYXRhYmxlKHsgbWV0aG9kLCBjaGFuZ2VzLCBpZGVtcG90ZW5jeUtleTogYmVmb3JlLmtleSB9KSkge1xuICAgICAgICAgIC8vIFdoYXQgaXRzIHVuZG8gcGFydCB3b3VsZCB0YWtlIGJhY2sgbWF5IGJlIHRoZXJlLlxuICAgICAgICAgIHdhbGsuZG91YnQoYmVmb3JlLmNhbGwpO1xuICAgICAgICAgIHRocm93IG5ldyBQcm9ibGVtKCdpbi1kb3VidCcsIHtcbiAgICAgICAgICAgIHdoYXQ6IGAke2JlZm9yZS5jYWxsfSBtYXkgb3IgbWF5IG5vdCBoYXZlIGhhcHBlbmVkOiB0aGUgcnVuIHdhcyBraWxsZWQgYmVmb3JlIGl0cyBhbnN3ZXJgLFxuICAgICAgICAgICAgcmVtZWR5OiAnbG9vayBhdCB0aGUgdmVuZG9yIHdoZXRoZXIgaXQgZGlkOyBpdCBpcyBub3Qgc2VudCBhZ2FpbiBvbiBpdHMgb3duJyxcbiAgICAgICAgICB9KTtcbiAgICAgICAgfVxuICAgICAgICBsZXQgbGVmdCA9IGZhbHNlO1xuICAgICAgICB0cnkge1xuICAgICAgICAgIGNvbnN0IHNlbmRpbmcgPSBzdGVwLnNlbmRpbmcod2Fsaywge1xuICAgICAgICAgICAgZXhwZWN0YXRpb25zLFxuICAgICAgICAgICAgaWRlbXBvdGVuY3lLZXk6IGJlZm9yZT8ua2V5LFxuICAgICAgICAgICAgb25MZWF2aW5nOiAoeyBjaGFuZ2VzLCBpZGVtcG90ZW5jeUtleSB9LCBjYWxsKSA9PiB7XG4gICAgICAgICAgICAgIC8vIEVhY2ggZnVydGhlciB0cnkgY2FycmllcyB0aGUgc2FtZSBrZXkuXG4gICAgICAgICAgICAgIGNvbnN0IGZpcnN0ID0gIWxlZnQ7XG4gICAgICAgICAgICAgIGxlZnQgPSB0cnVlO1xuICAgICAgICAgICAgICByZXR1cm4gZmlyc3QgJiYgY2hhbmdlcyA/IHdhbGsuam91cm5hbD8ubGVhdmluZyhhdCwgd2Fsay5yb3csIGNhbGwoKSwgaWRlbXBvdGVuY3lLZXkpIDogdW5kZWZpbmVkO1xuICAgICAgICAgICAgfSxcbiAgICAgICAgICB9KTtcbiAgICAgICAgICBjb25zdCBwYWdlZCA9IHByZXBhcmVkLnBhZ2VzICYmIChhd2FpdCBhbGxQYWdlcyhwcmVwYXJlZCwgc2VuZGluZywgd2FsaykpO1xuICAgICAgICAgIGNvbnN0IHNlbnQgPSBwYWdlZD8uc2VudCA/PyAoYXdhaXQgc2VuZFJlcXVlc3Qod2Fsay53b3Jrc3BhY2UsIHByZXBhcmVkLCBzZW5kaW5nKSk7XG4gICAgICAgICAgY29uc3QgbmFtZXMgPSBzdGVwLmtlZXAod2FsaywgcGFnZWQ/LmtlcHQgPz8gc2VudC5rZXB0KTtcbiAgICAgICAgICBpZiAobG9zdChzZW50KSlcbiAgICAgICAgICAgIHdhbGsuZG91YnQoYCR7c2VudC53aXJlLm1ldGhvZH0gJHt3YWxrLndvcmtzcGFjZS5yZWRhY3Rvci5oaWRlKHNlbnQud2lyZS5zaG93blVybCl9IChlY2hvICR7c2VudC5lY2hvfSlgKTtcbiAgICAgICAgICBpZiAodW5kbyAmJiAhcmVmdXNlZChzZW50KSkgdW5kbyh3YWxrLCBhdCk7XG4gICAgICAgICAgcmV0dXJuIHsgc2VudCwga2VwdDogbmFtZXMsIHByb2JsZW1zOiBzZW50LnByb2JsZW1zLCB0b2xkOiBwYWdlZCAmJiB7IHBhZ2VzOiBwYWdlZC5wYWdlcyB9IH07XG4gICAgICAgIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgICAgICAgaWYgKHVuZG8gJiYgbGVmdCkgdW5kbyh3YWxrLCBhdCk7XG4gICAgICAgICAgdGhyb3cgZXJyb3I7XG4gICAgICAgIH1cbiAgICAgIH0sXG4gICAgICByZXN0b3JlKHdhbGssIGF0KSB7XG4gICAgICAgIHVuZG8/Lih3YWxrLCBhdCk7XG4gICAgICB9LFxuICAgIH07XG4gIH0sXG59O1xuXG4vKiogV2hhdCBpcyBrZXB0IG9mIHBhZ2VzIGlzIHB1dCB0b2dldGhlcjsgdGhlIGxhc3QgcGFnZSBzdGFuZHMgZm9yIGFsbC4gKi9cbmFzeW5jIGZ1bmN0aW9uIGFsbFBhZ2VzKFxuICBwcmVwYXJlZDogUHJlcGFyZWRSZXF1ZXN0LFxuICBzZW5kaW5nOiBTZW5kaW5nLFxuICB7IHdvcmtzcGFjZSB9OiBXYWxrLFxuKTogUHJvbWlzZTx7IHJlYWRvbmx5IHNlbnQ6IFNlbnQ7IHJlYWRvbmx5IGtlcHQ6IHJlYWRvbmx5IEtlcHRbXTsgcmVhZG9ubHkgcGFnZXM6IFBhZ2VDb3VudCB9PiB7XG4gIGxldCBrZXB0ID0gbmV3IE1hcDxzdHJpbmcsIEtlcHQ+KCk7XG4gIGZvciBhd2FpdCAoY29uc3QgcGFnZSBvZiBwYWdlc09mKHdvcmtzcGFjZSwgcHJlcGFyZWQsIHNlbmRpbmcpKSB7XG4gICAga2VwdCA9IGdhdGhlcmVkKGtlcHQsIHBhZ2Uuc2VudC5rZXB0KTtcbiAgICBpZiAocGFnZS5sYXN0KSByZXR1cm4geyBzZW50OiBwYWdlLnNlbnQsIGtlcHQ6IFsuLi5rZXB0LnZhbHVlcygpXSwgcGFnZXM6IHBhZ2UuY291bnQgfTtcbiAgfVxuICB0aHJvdyBuZXcgUHJvYmxlbSgnZmF1bHQnLCB7IHdoYXQ6ICdwYWdlcyBlbmRlZCB3aXRob3V0IGEgbGFzdCBvbmUnIH0pO1xufVxuXG4vKiogQSA0eHggc2F5cyB0aGF0IG5vdGhpbmcgd2FzIGRvbmUsIHNvIHRoZXJlIGlzIG5vdGhpbmcgdG8gdGFrZSBiYWNrLiAqL1xuZnVuY3Rpb24gcmVmdXNlZCh7IG91dGNvbWU6IHsgcmVjZWl2ZWQsIHRyb3VibGUgfSB9OiBTZW50KTogYm9vbGVhbiB7XG4gIHJldHVybiByZWNlaXZlZCAhPT0gdW5kZWZpbmVkICYmIHRyb3VibGUgPT09IHVuZGVmaW5lZCAmJiByZWNlaXZlZC5zdGF0dXMgPj0gNDAwICYmIHJlY2VpdmVkLnN0YXR1cyA8IDUwMDtcbn1cblxuLyoqIEEgY2hhbmdpbmcgY2FsbCB0aGF0IGxlZnQsIGFuZCB3aG9zZSBhbnN3ZXIgZGlkIG5vdCBjb21lLiAqL1xuZnVuY3Rpb24gbG9zdCh7IHJlcXVlc3QsIG91dGNvbWU6IHsgcmVjZWl2ZWQsIHRyb3VibGUgfSB9OiBTZW50KTogYm9vbGVhbiB7XG4gIHJldHVybiByZXF1ZXN0LmNoYW5nZXMgJiYgcmVjZWl2ZWQgPT09IHVuZGVmaW5lZCAmJiB0cm91YmxlICE9PSB1bmRlZmluZWQgJiYgIW5ldmVyTGVmdC5oYXModHJvdWJsZS5jb2RlKTtcbn1cblxuY29uc3QgbmV2ZXJMZWZ0ID0gbmV3IFNldDxQcm9ibGVtWydjb2RlJ10+KFsnbmFtZS1sb29rdXAnLCAnY29ubmVjdGlvbi1yZWZ1c2VkJywgJ2Nvbm5lY3Rpb24tdGltZW91dCcsICd0bHMtZmFpbGVkJ10pO1xuIiwgIi8qKiBgdHJhaWxgOiBhbm90aGVyIHRyYWlsLCB3aXRoIGlucHV0cyBhbmQgYSBzY29wZSBvZiBpdHMgb3duOyB3aGF0IGl0IGdpdmVzIGJhY2sgaXMgbmFtZWQgYnkgYGtlZXBgLiAqL1xuaW1wb3J0IHR5cGUgeyBUcmFpbFN0ZXBGaWxlIH0gZnJvbSAnLi4vLi4vY29sbGVjdGlvbi9maWxlcy90cmFpbC1maWxlLmpzJztcbmltcG9ydCB7IGV2YWx1YXRlZCwgZ2l2ZXIsIHBsYW5HaXZlcywgd2Fsa0V2YWx1YXRpb24gfSBmcm9tICcuLi9naXZpbmcuanMnO1xuaW1wb3J0IHsgc2VjcmV0c0luIH0gZnJvbSAnLi4vc2VjcmV0cy1haGVhZC5qcyc7XG5pbXBvcnQgeyBzdGFydFNjb3BlIH0gZnJvbSAnLi4vc3RhcnQtc2NvcGUuanMnO1xuaW1wb3J0IHR5cGUgeyBTdGVwS2luZCB9IGZyb20gJy4uL3N0ZXAta2luZC5qcyc7XG5cbmV4cG9ydCBjb25zdCB0cmFpbDogU3RlcEtpbmQ8VHJhaWxTdGVwRmlsZT4gPSB7XG4gIG5hbWU6ICd0cmFpbCcsXG4gIGZpdHM6IChmaWxlKTogZmlsZSBpcyBUcmFpbFN0ZXBGaWxlID0+ICd0cmFpbCcgaW4gZmlsZSxcbiAgYXN5bmMgcGxhbihmaWxlLCByb29tKSB7XG4gICAgY29uc3QgcGxhbiA9IGF3YWl0IHJvb20udHJhaWwoZmlsZS50cmFpbCwgJ3RyYWlsJyk7XG4gICAgY29uc3QgbGFiZWwgPSBmaWxlLm5hbWUgPz8gcGxhbi5uYW1lO1xuICAgIGNvbnN0IGdpdmVzID0gcGxhbkdpdmVzKGZpbGUuZ2l2ZSwgcm9vbSwgWy4uLnJvb20ucGF0aCwgJ2dpdmUnXSk7XG4gICAgY29uc3Qga2VlcHMgPSBwbGFuR2l2ZXMoZmlsZS5rZWVwLCByb29tLCBbLi4ucm9vbS5wYXRoLCAna2VlcCddKTtcbiAgICByZXR1cm4ge1xuICAgICAga2luZDogJ3RyYWlsJyxcbiAgICAgIGxhYmVsLFxuICAgICAgY2hhbmdlczogcGxhbi5zdGVwcy5yZWR1Y2UoKHN1bSwgeyBjaGFuZ2VzIH0pID0+IHN1bSArIGNoYW5nZXMsIDApLFxuICAgICAgcmVxdWVzdHM6IHBsYW4uc3RlcHMuZmxhdE1hcCgoeyByZXF1ZXN0cyB9KSA9PiByZXF1ZXN0cyksXG4gICAgICB0YWtlczogcGxhbi5zdGVwcy5mbGF0TWFwKCh7IHRha2VzIH0pID0+IHRha2VzID8/IFtdKSxcbiAgICAgIHNlY3JldHM6IFtcbiAgICAgICAgLi4uc2VjcmV0c0luKGZpbGUuZ2l2ZSwgcm9vbS55YW1sLCBbLi4ucm9vbS5wYXRoLCAnZ2l2ZSddKSxcbiAgICAgICAgLi4ucGxhbi5zdGVwcy5mbGF0TWFwKCh7IHdoZW4sIHNlY3JldHMgfSkgPT4gKHdoZW4gPyBbXSA6IHNlY3JldHMpKSxcbiAgICAgIF0sXG4gICAgICBhc3luYyB3YWxrKHdhbGssIGF0KSB7XG4gICAgICAgIGNvbnN0IHsgd29ya3NwYWNlIH0gPSB3YWxrO1xuICAgICAgICBjb25zdCBpbm5lciA9IHN0YXJ0U2NvcGUocGxhbiwgd29ya3NwYWNlLCBnaXZlcihnaXZlcywgd29ya3NwYWNlLCB3YWxrLnNjb3BlLCBsYWJlbCkpO1xuICAgICAgICBjb25zdCBwcm9ibGVtID0gYXdhaXQgd2Fsay5zdGVwcyhwbGFuLnN0ZXBzLCB7IC4uLndhbGssIGF0LCBzY29wZTogaW5uZXIsIGRlcHRoOiB3YWxrLmRlcHRoICsgMSB9KTtcbiAgICAgICAgaWYgKHByb2JsZW0pIHJldHVybiB7IHNlbnQ6IHVuZGVmaW5lZCwga2VwdDogW10sIHByb2JsZW1zOiBbcHJvYmxlbV0gfTtcbiAgICAgICAgZm9yIChjb25zdCBbbmFtZSwgdHJlZV0gb2Yga2VlcHMpIHtcbiAgICAgICAgICBjb25zdCBuYW1lZCA9IGV2YWx1YXRlZCh0cmVlLCB3YWxrRXZhbHVhdGlvbih3b3Jrc3BhY2UsIGlubmVyKSwgYGtlcHQgYnkgc3RlcCAke2xhYmVsfWApO1xuICAgICAgICAgIGlmIChuYW1lZCkgd2Fsay5zY29wZS5zZXQobmFtZSwgbmFtZWQpO1xuICAgICAgICB9XG4gICAgICAgIHJldHVybiB7IHNlbnQ6IHVuZGVmaW5lZCwga2VwdDogWy4uLmtlZXBzLmtleXMoKV0sIHByb2JsZW1zOiBbXSB9O1xuICAgICAgfSxcbiAgICB9O1xuICB9LFxufTtcbiIsICIvKiogQWxsIGtpbmRzIG9mIHN0ZXBzLiBBIG5ldyBvbmUgaXMgb25lIGZpbGUsIG9uZSBsaW5lIGhlcmUsIGFuZCBpdHMgc2NoZW1hIGluIHRoZSB0cmFpbCBmaWxlJ3MgdW5pb24uICovXG5pbXBvcnQgdHlwZSB7IFN0ZXBLaW5kIH0gZnJvbSAnLi4vc3RlcC1raW5kLmpzJztcbmltcG9ydCB7IGNob29zZSB9IGZyb20gJy4vY2hvb3NlLmpzJztcbmltcG9ydCB7IGNvbXBhcmUgfSBmcm9tICcuL2NvbXBhcmUuanMnO1xuaW1wb3J0IHsgZm9yRWFjaCB9IGZyb20gJy4vZm9yLWVhY2guanMnO1xuaW1wb3J0IHsga2VlcCB9IGZyb20gJy4va2VlcC5qcyc7XG5pbXBvcnQgeyBwb2xsIH0gZnJvbSAnLi9wb2xsLmpzJztcbmltcG9ydCB7IHNlbmQgfSBmcm9tICcuL3NlbmQuanMnO1xuaW1wb3J0IHsgdHJhaWwgfSBmcm9tICcuL3RyYWlsLmpzJztcblxuZXhwb3J0IGNvbnN0IHN0ZXBLaW5kczogcmVhZG9ubHkgU3RlcEtpbmRbXSA9IFtcbiAgc2VuZCBhcyBTdGVwS2luZCxcbiAgdHJhaWwgYXMgU3RlcEtpbmQsXG4gIGZvckVhY2ggYXMgU3RlcEtpbmQsXG4gIHBvbGwgYXMgU3RlcEtpbmQsXG4gIGNob29zZSBhcyBTdGVwS2luZCxcbiAgY29tcGFyZSBhcyBTdGVwS2luZCxcbiAga2VlcCBhcyBTdGVwS2luZCxcbl07XG4iLCAiLyoqIEEgdHJhaWwgZmlsZSBtYWRlIHJlYWR5OiBldmVyeSByZXF1ZXN0IGFuZCB0cmFpbCBpbiBpdCBpcyByZWFkIGJlZm9yZSB0aGUgZmlyc3Qgc3RlcCBpcyB0YWtlbi4gKi9cbmltcG9ydCB0eXBlIHsgU3RlcEZpbGUsIFRyYWlsRmlsZSB9IGZyb20gJy4uL2NvbGxlY3Rpb24vZmlsZXMvdHJhaWwtZmlsZS5qcyc7XG5pbXBvcnQgeyBwbGFuSW5wdXRzIH0gZnJvbSAnLi4vY29sbGVjdGlvbi9pbnB1dHMuanMnO1xuaW1wb3J0IHR5cGUgeyBZYW1sRmlsZSB9IGZyb20gJy4uL2NvbGxlY3Rpb24veWFtbC5qcyc7XG5pbXBvcnQgdHlwZSB7IExvYWRzIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi9jb21waWxlLmpzJztcbmltcG9ydCB7IGFzUHJvYmxlbSwgUHJvYmxlbSB9IGZyb20gJy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgdHlwZSB7IFZhbHVlIH0gZnJvbSAnLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyBjb21waWxlQ29uZGl0aW9uIH0gZnJvbSAnLi9jb25kaXRpb25zLmpzJztcbmltcG9ydCB0eXBlIHsgUHJlcGFyZWRSZXF1ZXN0IH0gZnJvbSAnLi9wcmVwYXJlLmpzJztcbmltcG9ydCB7IHBsYW5Sb3dzIH0gZnJvbSAnLi9yb3dzL3Jvd3MtcGxhbi5qcyc7XG5pbXBvcnQgdHlwZSB7IFBsYW5uZWRTdGVwLCBQbGFuUm9vbSwgVHJhaWxQbGFuIH0gZnJvbSAnLi9zdGVwLWtpbmQuanMnO1xuaW1wb3J0IHsgc3RlcEtpbmRzIH0gZnJvbSAnLi9zdGVwcy9yZWdpc3RyeS5qcyc7XG5pbXBvcnQgeyBzZW5kIH0gZnJvbSAnLi9zdGVwcy9zZW5kLmpzJztcbmltcG9ydCB7IHBsYW5UYWJsZSB9IGZyb20gJy4vdGFibGUuanMnO1xuaW1wb3J0IHR5cGUgeyBXb3Jrc3BhY2UgfSBmcm9tICcuL3dvcmtzcGFjZS5qcyc7XG5cbi8qKiBXaGF0IHRoZSBjb21tYW5kIGxpbmUgc2F5cyBpbiBwbGFjZSBvZiB0aGUgZmlsZS4gKi9cbmV4cG9ydCBpbnRlcmZhY2UgUGxhbldpc2hlcyB7XG4gIHJlYWRvbmx5IHJvd3M/OiBzdHJpbmcgfCB1bmRlZmluZWQ7XG4gIHJlYWRvbmx5IGF0T25jZT86IG51bWJlciB8IHVuZGVmaW5lZDtcbn1cblxuLyoqXG4gKiBAcGFyYW0gYWJvdmUgdGhlIHRyYWlscyB0aGF0IGxlYWQgaGVyZSwgc28gdGhhdCBhIGNpcmNsZSBpcyBzZWVuXG4gKiBAdGhyb3dzIFByb2JsZW0gYWJvdXQgYW55dGhpbmcgaW4gdGhlIHRyYWlsIG9yIGluIHdoYXQgaXQgbmFtZXNcbiAqL1xuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIHBsYW5UcmFpbChcbiAgd29ya3NwYWNlOiBXb3Jrc3BhY2UsXG4gIGdpdmVuOiBzdHJpbmcsXG4gIHdpc2hlczogUGxhbldpc2hlcyA9IHt9LFxuICBhYm92ZTogcmVhZG9ubHkgc3RyaW5nW10gPSBbXSxcbik6IFByb21pc2U8VHJhaWxQbGFuPiB7XG4gIGNvbnN0IHsgY29sbGVjdGlvbiB9ID0gd29ya3NwYWNlO1xuICBjb25zdCB7IG5hbWUsIGNvbnRlbnQsIHlhbWwgfSA9IGNvbGxlY3Rpb24ucmVhZCgndHJhaWwnLCBnaXZlbik7XG4gIGlmIChhYm92ZS5pbmNsdWRlcyhuYW1lKSkge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCdjaXJjbGUnLCB7XG4gICAgICB3aGF0OiBgdGhlIHRyYWlscyAke1suLi5hYm92ZSwgbmFtZV0uam9pbignLCAnKX0gbGVhZCB0byBlYWNoIG90aGVyIGluIGEgY2lyY2xlYCxcbiAgICAgIHdoZXJlOiB7IGZpbGU6IHlhbWwuZmlsZSB9LFxuICAgIH0pO1xuICB9XG4gIGNvbnN0IGxvYWRzOiBMb2FkcyA9IFtdO1xuICBjb25zdCB0ZXh0cyA9IFt5YW1sLnRleHRdO1xuICBjb25zdCBwbGFjZWQgPSBhc3luYyA8VD4ocGF0aDogcmVhZG9ubHkgKHN0cmluZyB8IG51bWJlcilbXSwgd29yazogKCkgPT4gUHJvbWlzZTxUPik6IFByb21pc2U8VD4gPT4ge1xuICAgIHRyeSB7XG4gICAgICByZXR1cm4gYXdhaXQgd29yaygpO1xuICAgIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgICB0aHJvdyBhc1Byb2JsZW0oZXJyb3IpLmF0KHlhbWwucG9zaXRpb24ocGF0aCkpO1xuICAgIH1cbiAgfTtcbiAgY29uc3QgcGxhblN0ZXBzID0gYXN5bmMgKFxuICAgIGZpbGVzOiByZWFkb25seSBTdGVwRmlsZVtdLFxuICAgIHBhdGg6IHJlYWRvbmx5IChzdHJpbmcgfCBudW1iZXIpW10sXG4gICk6IFByb21pc2U8cmVhZG9ubHkgUGxhbm5lZFN0ZXBbXT4gPT4ge1xuICAgIGNvbnN0IHN0ZXBzOiBQbGFubmVkU3RlcFtdID0gW107XG4gICAgZm9yIChjb25zdCBbaW5kZXgsIGZpbGVdIG9mIGZpbGVzLmVudHJpZXMoKSkge1xuICAgICAgY29uc3QgYXQgPSBbLi4ucGF0aCwgaW5kZXhdO1xuICAgICAgY29uc3Qgcm9vbTogUGxhblJvb20gPSB7XG4gICAgICAgIHdvcmtzcGFjZSxcbiAgICAgICAgY29sbGVjdGlvbixcbiAgICAgICAgeWFtbCxcbiAgICAgICAgcGF0aDogYXQsXG4gICAgICAgIGxvYWRzLFxuICAgICAgICByZXF1ZXN0OiAocmVxdWVzdCwga2V5KSA9PiBwbGFjZWQoWy4uLmF0LCBrZXldLCBhc3luYyAoKSA9PiB3b3Jrc3BhY2UucHJlcGFyZShyZXF1ZXN0KSksXG4gICAgICAgIHRyYWlsOiAodHJhaWwsIGtleSkgPT5cbiAgICAgICAgICBwbGFjZWQoWy4uLmF0LCBrZXldLCBhc3luYyAoKSA9PiB7XG4gICAgICAgICAgICBjb25zdCBpbm5lciA9IGF3YWl0IHBsYW5UcmFpbCh3b3Jrc3BhY2UsIHRyYWlsLCB7fSwgWy4uLmFib3ZlLCBuYW1lXSk7XG4gICAgICAgICAgICB0ZXh0cy5wdXNoKGlubmVyLnRleHQpO1xuICAgICAgICAgICAgcmV0dXJuIGlubmVyO1xuICAgICAgICAgIH0pLFxuICAgICAgICBzdGVwczogcGxhblN0ZXBzLFxuICAgICAgfTtcbiAgICAgIHN0ZXBzLnB1c2goYXdhaXQgcGxhblN0ZXAoZmlsZSwgcm9vbSkpO1xuICAgIH1cbiAgICByZXR1cm4gc3RlcHM7XG4gIH07XG4gIGNvbnN0IHN0ZXBzID0gYXdhaXQgcGxhblN0ZXBzKGNvbnRlbnQuc3RlcHMsIFsnc3RlcHMnXSk7XG4gIGNvbnN0IHBsYW46IFRyYWlsUGxhbiA9IHtcbiAgICBuYW1lLFxuICAgIHN0ZXBzLFxuICAgIHRha2VzOiBbLi4uT2JqZWN0LmtleXMoY29udGVudC5pbnB1dHMgPz8ge30pLCAuLi5zdGVwcy5mbGF0TWFwKCh7IHRha2VzIH0pID0+IHRha2VzID8/IFtdKV0sXG4gICAgaW5wdXRzOiBwbGFuSW5wdXRzKGNvbnRlbnQuaW5wdXRzLCB7IHlhbWwgfSwgYHRyYWlsICR7bmFtZX1gLCBsb2FkcyksXG4gICAgcm93czogcm93c09mKGNvbnRlbnQsIHdpc2hlcywgeWFtbCwgbG9hZHMsIHdvcmtzcGFjZSksXG4gICAgYXRPbmNlOiB3aXNoZXMuYXRPbmNlID8/IGNvbnRlbnRbJ2F0LW9uY2UnXSA/PyAxLFxuICAgIHVuZG86IGNvbnRlbnQudW5kbyA/PyAnZmFpbHVyZScsXG4gICAgdGFibGU6IGNvbnRlbnQudGFibGUgJiYgcGxhblRhYmxlKGNvbnRlbnQudGFibGUsIHlhbWwsIFsndGFibGUnXSwgbG9hZHMpLFxuICAgIHRleHQ6IHRleHRzLmpvaW4oJ1xcbicpLFxuICB9O1xuICBhd2FpdCBQcm9taXNlLmFsbChsb2Fkcyk7XG4gIHJldHVybiBwbGFuO1xufVxuXG5mdW5jdGlvbiByb3dzT2YoXG4gIHsgcm93cyB9OiBUcmFpbEZpbGUsXG4gIHdpc2hlczogUGxhbldpc2hlcyxcbiAgeWFtbDogWWFtbEZpbGUsXG4gIGxvYWRzOiBMb2FkcyxcbiAgd29ya3NwYWNlOiBXb3Jrc3BhY2UsXG4pOiBUcmFpbFBsYW5bJ3Jvd3MnXSB7XG4gIGlmICh3aXNoZXMucm93cyAhPT0gdW5kZWZpbmVkKSByZXR1cm4gcGxhblJvd3Mod2lzaGVzLnJvd3MsIHlhbWwsIGxvYWRzLCB3b3Jrc3BhY2UpO1xuICByZXR1cm4gcm93cyA9PT0gdW5kZWZpbmVkID8gdW5kZWZpbmVkIDogcGxhblJvd3Mocm93cyBhcyBzdHJpbmcgfCBWYWx1ZVtdLCB5YW1sLCBsb2Fkcywgd29ya3NwYWNlKTtcbn1cblxuYXN5bmMgZnVuY3Rpb24gcGxhblN0ZXAoZmlsZTogU3RlcEZpbGUsIHJvb206IFBsYW5Sb29tKTogUHJvbWlzZTxQbGFubmVkU3RlcD4ge1xuICBjb25zdCB7IHlhbWwsIGxvYWRzLCB3b3Jrc3BhY2UsIHBhdGggfSA9IHJvb207XG4gIGNvbnN0IGtpbmQgPSBzdGVwS2luZHMuZmluZCgob25lKSA9PiBvbmUuZml0cyhmaWxlKSk7XG4gIGlmICgha2luZCkgdGhyb3cgbmV3IFByb2JsZW0oJ2ZpbGUtc2hhcGUnLCB7IHdoYXQ6ICd0aGUgc3RlcCBpcyBvZiBubyBrbm93biBraW5kJywgd2hlcmU6IHlhbWwucG9zaXRpb24ocGF0aCkgfSk7XG4gIGNvbnN0IHBsYW5uZWQgPSBhd2FpdCBraW5kLnBsYW4oZmlsZSwgcm9vbSk7XG4gIGNvbnN0IHsgcmVhZFRleHQgfSA9IHdvcmtzcGFjZTtcbiAgY29uc3Qgd2hlbiA9IGZpbGUud2hlbiAmJiBjb21waWxlQ29uZGl0aW9uKGZpbGUud2hlbiwgWy4uLnBhdGgsICd3aGVuJ10sIHsgeWFtbCwgbG9hZHMsIHJlYWRUZXh0IH0pO1xuICByZXR1cm4geyAuLi5wbGFubmVkLCB3aGVuIH07XG59XG5cbi8qKiBBIHJlcXVlc3Qgd2Fsa2VkIGFzIGEgdHJhaWwgb2Ygb25lIHN0ZXAsIHNvIHRoYXQgYHJ1bmAgdGFrZXMgYm90aC4gKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiByZXF1ZXN0QXNUcmFpbChcbiAgd29ya3NwYWNlOiBXb3Jrc3BhY2UsXG4gIHByZXBhcmVkOiBQcmVwYXJlZFJlcXVlc3QsXG4gIHdpc2hlczogUGxhbldpc2hlcyA9IHt9LFxuKTogUHJvbWlzZTxUcmFpbFBsYW4+IHtcbiAgY29uc3QgeyB5YW1sLCBuYW1lIH0gPSBwcmVwYXJlZC5wbGFuO1xuICBjb25zdCBsb2FkczogTG9hZHMgPSBbXTtcbiAgY29uc3Qgbm90aGluZ0luc2lkZSA9ICgpOiBQcm9taXNlPG5ldmVyPiA9PlxuICAgIFByb21pc2UucmVqZWN0KG5ldyBQcm9ibGVtKCdjaXJjbGUnLCB7IHdoYXQ6ICdhIHJlcXVlc3QgaGFzIG5laXRoZXIgdHJhaWxzIG5vciBzdGVwcycgfSkpO1xuICBjb25zdCByb29tOiBQbGFuUm9vbSA9IHtcbiAgICB3b3Jrc3BhY2UsXG4gICAgY29sbGVjdGlvbjogd29ya3NwYWNlLmNvbGxlY3Rpb24sXG4gICAgeWFtbCxcbiAgICBwYXRoOiBbXSxcbiAgICBsb2FkcyxcbiAgICByZXF1ZXN0OiBhc3luYyAoKSA9PiBwcmVwYXJlZCxcbiAgICB0cmFpbDogbm90aGluZ0luc2lkZSxcbiAgICBzdGVwczogbm90aGluZ0luc2lkZSxcbiAgfTtcbiAgY29uc3Qgc3RlcCA9IGF3YWl0IHNlbmQucGxhbih7IHNlbmQ6IG5hbWUgfSwgcm9vbSk7XG4gIGNvbnN0IHJvd3MgPSB3aXNoZXMucm93cyA9PT0gdW5kZWZpbmVkID8gdW5kZWZpbmVkIDogcGxhblJvd3Mod2lzaGVzLnJvd3MsIHlhbWwsIGxvYWRzLCB3b3Jrc3BhY2UpO1xuICBhd2FpdCBQcm9taXNlLmFsbChsb2Fkcyk7XG4gIHJldHVybiB7XG4gICAgbmFtZSxcbiAgICBzdGVwczogW3sgLi4uc3RlcCwgd2hlbjogdW5kZWZpbmVkIH1dLFxuICAgIHRha2VzOiBwcmVwYXJlZC5wbGFuLmlucHV0cy5tYXAoKGlucHV0KSA9PiBpbnB1dC5uYW1lKSxcbiAgICAvLyBPbmx5IHdoYXQgdGhlIGNvbW1hbmQgbGluZSBuYW1lczsgdGhlIHJlcXVlc3QgaGFzIGl0cyBkZWZhdWx0cyBpdHNlbGYuXG4gICAgaW5wdXRzOiBwcmVwYXJlZC5wbGFuLmlucHV0cy5maWx0ZXIoKGlucHV0KSA9PiB3b3Jrc3BhY2Uuc2V0dGluZ3MuaGFzKGlucHV0Lm5hbWUpKSxcbiAgICByb3dzLFxuICAgIGF0T25jZTogd2lzaGVzLmF0T25jZSA/PyAxLFxuICAgIHVuZG86ICduZXZlcicsXG4gICAgdGFibGU6IHVuZGVmaW5lZCxcbiAgICB0ZXh0OiB5YW1sLnRleHQsXG4gIH07XG59XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBR08sSUFBTSxRQUFOLE1BQU0sT0FBdUI7QUFBQTtBQUFBLEVBSWxDLFlBQ21CLFFBQ2pCLE9BQ2lCLE9BQ2pCO0FBSGlCO0FBRUE7QUFFakIsU0FBSyxTQUFTLFFBQVEsQ0FBQyxPQUFPLEdBQUcsTUFBTSxNQUFNLElBQUksQ0FBQyxLQUFLO0FBQUEsRUFDekQ7QUFBQSxFQUxtQjtBQUFBLEVBRUE7QUFBQSxFQU5WO0FBQUEsRUFXVCxPQUFPLE1BQWlDO0FBQ3RDLFdBQU8sS0FBSyxPQUFPLElBQUksSUFBSSxLQUFLLEtBQUssT0FBTyxPQUFPLElBQUk7QUFBQSxFQUN6RDtBQUFBLEVBRUEsQ0FBQyxRQUEwQjtBQUN6QixXQUFPLEtBQUssT0FBTyxLQUFLO0FBQ3hCLFFBQUksS0FBSyxNQUFPLFFBQU8sS0FBSyxNQUFNLE1BQU07QUFBQSxFQUMxQztBQUFBLEVBRUEsSUFBSSxNQUFjLE9BQW9CO0FBQ3BDLFNBQUssT0FBTyxJQUFJLE1BQU0sS0FBSztBQUFBLEVBQzdCO0FBQUE7QUFBQSxFQUdBLFdBQWtCO0FBQ2hCLFdBQU8sSUFBSSxPQUFNLElBQUksSUFBSSxLQUFLLE1BQU0sR0FBRyxLQUFLLE9BQU8sQ0FBQyxLQUFLLElBQUksS0FBSyxPQUFPLFNBQVMsQ0FBQztBQUFBLEVBQ3JGO0FBQ0Y7OztBQ3JCTyxTQUFTLFdBQ2QsTUFDQSxXQUNBLE9BQ0EsS0FDTztBQUNQLFFBQU0sU0FBUyxvQkFBSSxJQUFtQjtBQUN0QyxNQUFJLEtBQUs7QUFDUCxVQUFNLFNBQVMsT0FBTyxJQUFJLE1BQU0sT0FBTyxLQUFLLE1BQU0sSUFBSTtBQUN0RCxXQUFPLElBQUksT0FBTyxFQUFFLE9BQU8sSUFBSSxTQUFTLE9BQU8sQ0FBQztBQUNoRCxlQUFXLFFBQVEsSUFBSSxRQUFTLFFBQU8sSUFBSSxNQUFNLEVBQUUsT0FBTyxJQUFJLFFBQVEsSUFBSSxHQUFZLE9BQU8sQ0FBQztBQUFBLEVBQ2hHO0FBQ0EsU0FBTyxXQUFXLE1BQU0sV0FBVyxRQUFRLE9BQU8sQ0FBQyxVQUFVO0FBQzNELFVBQU0sYUFBYSxLQUFLO0FBQUEsRUFDMUIsQ0FBQztBQUNIO0FBR08sU0FBUyxXQUFXLE1BQWlCLFdBQXNCLE9BQW9EO0FBQ3BILFNBQU8sV0FBVyxNQUFNLFdBQVcsb0JBQUksSUFBSSxHQUFHLE9BQU8sTUFBTSxNQUFTO0FBQ3RFO0FBRUEsU0FBUyxXQUNQLE1BQ0EsV0FDQSxRQUNBLE9BQ0EsU0FDTztBQUNQLFFBQU0sUUFBUSxJQUFJLE1BQU0sUUFBUSxtQkFBbUIsS0FBSyxJQUFJLEVBQUU7QUFDOUQsTUFBSSxLQUFLLE9BQU8sV0FBVyxFQUFHLFFBQU87QUFDckMsUUFBTSxlQUFlLEVBQUUsT0FBTyxVQUFVLE1BQU0sR0FBRyxVQUFVLFVBQVUsU0FBUyxJQUFJO0FBQ2xGLFFBQU0sUUFBUSxjQUFjLFVBQVUsUUFBUSxTQUFTLFlBQVk7QUFDbkUsYUFBVyxTQUFTLEtBQUssUUFBUTtBQUMvQixVQUFNLFFBQVEsV0FBVyxPQUFPLE1BQU0sTUFBTSxJQUFJLEtBQUssT0FBTyxJQUFJLE1BQU0sSUFBSSxHQUFHLE9BQU8sWUFBWTtBQUNoRyxRQUFJLE1BQU8sT0FBTSxJQUFJLE1BQU0sTUFBTSxLQUFLO0FBQUEsUUFDakMsU0FBUSxLQUFLO0FBQUEsRUFDcEI7QUFDQSxTQUFPO0FBQ1Q7QUFHTyxJQUFNLGtCQUNYLENBQUMsRUFBRSxTQUFTLE1BQ1osQ0FBQyxVQUFxQztBQUNwQyxRQUFNLFFBQVEsU0FBUyxJQUFJLEtBQUs7QUFDaEMsU0FBTyxVQUFVLFNBQVksU0FBWSxFQUFFLE9BQU8sUUFBUSxRQUFRO0FBQ3BFOzs7QUNuQ0ssU0FBUyxpQkFDZCxLQUNBLE1BQ0EsTUFDVztBQUNYLFFBQU1BLFNBQVEsT0FBTyxRQUFRLEdBQUcsRUFBRSxJQUFJLENBQUMsQ0FBQyxNQUFNLEtBQUssTUFBaUI7QUFDbEUsVUFBTSxLQUFLLENBQUMsR0FBRyxNQUFNLElBQUk7QUFDekIsUUFBSTtBQUNGLFVBQUksU0FBUyxTQUFTLE1BQU0sUUFBUSxLQUFLLEdBQUc7QUFDMUMsY0FBTSxPQUFRLE1BQTJCO0FBQUEsVUFBSSxDQUFDLEtBQUssVUFDakQsaUJBQWlCLE1BQU0sR0FBRyxHQUFHLENBQUMsR0FBRyxJQUFJLEtBQUssR0FBRyxJQUFJO0FBQUEsUUFDbkQ7QUFDQSxlQUFPLENBQUMsZUFBZSxLQUFLLEtBQUssQ0FBQyxVQUFVLE1BQU0sVUFBVSxDQUFDO0FBQUEsTUFDL0Q7QUFDQSxVQUFJLFNBQVMsU0FBUyxXQUFXLEtBQUssR0FBRztBQUN2QyxjQUFNLFFBQVEsaUJBQWlCLE1BQU0sS0FBSyxHQUFHLElBQUksSUFBSTtBQUNyRCxlQUFPLENBQUMsZUFBZSxDQUFDLE1BQU0sVUFBVTtBQUFBLE1BQzFDO0FBQ0EsYUFBTyxTQUFTLE1BQU0sT0FBTyxJQUFJLElBQUk7QUFBQSxJQUN2QyxTQUFTLE9BQU87QUFDZCxZQUFNLFVBQVUsS0FBSyxFQUFFLEdBQUcsS0FBSyxLQUFLLFNBQVMsRUFBRSxDQUFDO0FBQUEsSUFDbEQ7QUFBQSxFQUNGLENBQUM7QUFDRCxTQUFPLENBQUMsZUFBZUEsT0FBTSxNQUFNLENBQUMsVUFBVSxNQUFNLFVBQVUsQ0FBQztBQUNqRTtBQUVBLFNBQVMsTUFBTSxPQUErQztBQUM1RCxNQUFJLFdBQVcsS0FBSyxFQUFHLFFBQU87QUFDOUIsUUFBTSxJQUFJLFFBQVEsaUJBQWlCLEVBQUUsTUFBTSx1REFBdUQsQ0FBQztBQUNyRztBQUdBLFNBQVMsU0FDUCxNQUNBLE9BQ0EsSUFDQSxFQUFFLE1BQU0sT0FBTyxTQUFTLEdBQ2I7QUFFWCxRQUFNLE1BQU0sT0FBTyxLQUFLLElBQUksSUFBSSxRQUFRLElBQUksSUFBSTtBQUNoRCxRQUFNLE9BQU8sWUFBWSxPQUFPLENBQUMsVUFBVSxLQUFLLFNBQVMsQ0FBQyxHQUFHLElBQUksR0FBRyxLQUFLLENBQUMsR0FBRyxLQUFLO0FBQ2xGLFFBQU0sU0FBUyxDQUFDLFVBQWlCLFNBQy9CLGdCQUFnQixVQUFVLEVBQUUsU0FBUyxFQUFFLFFBQVEsTUFBTSxHQUFHLE9BQU8sTUFBTSxTQUFTLENBQUM7QUFDakYsUUFBTSxRQUFRLEtBQUssYUFBYSxTQUFZLFNBQVksT0FBTyxLQUFLLFVBQVUsS0FBSztBQUNuRixTQUFPLENBQUMsZUFBZTtBQUNyQixVQUFNLFFBQVEsV0FBVyxNQUFNLE9BQU8sSUFBSSxHQUFHLFNBQVMsTUFBTSxVQUFVO0FBQ3RFLFFBQUksUUFBUTtBQUNaLFFBQUksQ0FBQyxPQUFPO0FBQ1YsWUFBTSxXQUFXLEtBQUssU0FBUyxVQUFVO0FBQ3pDLFlBQU0sT0FBYyxDQUFDO0FBQ3JCLGNBQVEsT0FBTyxhQUFhLFVBQVUsT0FBTyxVQUFVLElBQUk7QUFDM0QsVUFBSSxLQUFLLFNBQVMsR0FBRztBQUNuQixjQUFNLElBQUksUUFBUSxpQkFBaUI7QUFBQSxVQUNqQyxNQUFNLHNCQUFzQixJQUFJO0FBQUEsVUFDaEMsUUFBUTtBQUFBLFFBQ1YsQ0FBQztBQUFBLE1BQ0g7QUFBQSxJQUNGO0FBQ0EsV0FBTyxNQUFNLEtBQUssT0FBTyxDQUFDLENBQUMsTUFBTTtBQUFBLEVBQ25DO0FBQ0Y7QUFHQSxTQUFTLFFBQVEsTUFBNkQ7QUFDNUUsUUFBTSxPQUFPLGdCQUFnQixJQUFJO0FBQ2pDLFFBQU0sT0FBTyxLQUFLLFNBQVMsU0FBUyxLQUFLLE1BQU0sSUFBSSxDQUFDLFNBQVUsU0FBUyxPQUFPLEtBQUssTUFBTSxNQUFVLElBQUksQ0FBQztBQUN4RyxNQUFJLEtBQUssU0FBUyxVQUFVLEtBQUssU0FBUyxNQUFTLEdBQUc7QUFDcEQsVUFBTSxJQUFJLFFBQVEsaUJBQWlCO0FBQUEsTUFDakMsTUFBTSw0REFBNEQsSUFBSTtBQUFBLE1BQ3RFLFFBQVE7QUFBQSxJQUNWLENBQUM7QUFBQSxFQUNIO0FBQ0EsU0FBTyxDQUFDLEVBQUUsTUFBTSxNQUFNO0FBQ3BCLFFBQUksUUFBUSxNQUFNLE9BQU8sS0FBSyxJQUFJLEdBQUc7QUFDckMsZUFBVyxPQUFPLE1BQTZCO0FBQzdDLFVBQUksTUFBTSxRQUFRLEtBQUssRUFBRyxTQUFTLE1BQTJCLEdBQUcsT0FBTyxHQUFHLENBQUM7QUFBQSxVQUN2RSxTQUFRLFdBQVcsS0FBSyxLQUFLLE9BQU8sT0FBTyxPQUFPLEdBQUcsSUFBSSxNQUFNLEdBQUcsSUFBSTtBQUFBLElBQzdFO0FBQ0EsV0FBTztBQUFBLEVBQ1Q7QUFDRjs7O0FDdEdBLFNBQVMsd0JBQXdCOzs7QUNHakMsSUFBSTtBQUVKLGVBQWUsT0FBMkM7QUFDeEQsYUFBVyxNQUFNLE9BQU8sV0FBVyxHQUFHO0FBQ3RDLFNBQU87QUFDVDtBQUVPLElBQU0sTUFBaUI7QUFBQSxFQUM1QixNQUFNO0FBQUEsRUFDTixRQUFRO0FBQUEsRUFDUjtBQUFBLEVBQ0EsT0FBTyxLQUFLLFFBQVEsTUFBTTtBQUN4QixVQUFNLFNBQVMsT0FBTyxNQUFNLE1BQU0sS0FBSyxHQUFHLEVBQUUsU0FBUyxNQUFNLEtBQUssTUFBTSxrQkFBa0IsTUFBTSxNQUFNLE1BQU0sQ0FBQyxDQUFDO0FBRTVHLFdBQU8sR0FBRyxTQUFTLENBQUMsVUFBVSxPQUFPLFFBQVEsS0FBSyxDQUFDO0FBQ25ELFFBQUk7QUFDRix1QkFBaUIsV0FBVyxPQUFpRCxPQUFNO0FBQUEsSUFDckYsU0FBUyxPQUFPO0FBQ2QsVUFBSSxpQkFBaUIsUUFBUyxPQUFNO0FBQ3BDLFlBQU0sRUFBRSxTQUFTLE1BQU0sSUFBSTtBQUMzQixZQUFNLElBQUk7QUFBQSxRQUNSO0FBQUEsUUFDQSxFQUFFLE1BQU0sR0FBRyxJQUFJLDJCQUEyQixPQUFPLEVBQUUsTUFBTSxNQUFNLE1BQU0sR0FBRyxPQUFPLFFBQVE7QUFBQSxRQUN2RixFQUFFLE9BQU8sTUFBTTtBQUFBLE1BQ2pCO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFDRjs7O0FDckJPLElBQU0sT0FBa0I7QUFBQSxFQUM3QixNQUFNO0FBQUEsRUFDTixRQUFRO0FBQUEsRUFDUixPQUFPLEtBQUssUUFBUSxNQUFNO0FBQ3hCLFFBQUksU0FBUztBQUNiLHFCQUFpQixRQUFRLFFBQVEsUUFBUSxJQUFJLEdBQUc7QUFDOUMsZ0JBQVU7QUFDVixVQUFJO0FBQ0osVUFBSTtBQUNGLGVBQU8sVUFBVSxJQUFJO0FBQUEsTUFDdkIsU0FBUyxPQUFPO0FBQ2QsY0FBTSxJQUFJLFFBQVEsY0FBYztBQUFBLFVBQzlCLE1BQU0sUUFBUSxNQUFNLE9BQU8sSUFBSTtBQUFBLFVBQy9CLE9BQU8sRUFBRSxLQUFLO0FBQUEsVUFDZCxPQUFRLE1BQWdCO0FBQUEsUUFDMUIsQ0FBQztBQUFBLE1BQ0g7QUFDQSxVQUFJLENBQUMsV0FBVyxJQUFJO0FBQ2xCLGNBQU0sSUFBSSxRQUFRLGNBQWMsRUFBRSxNQUFNLFFBQVEsTUFBTSxPQUFPLElBQUksMEJBQTBCLE9BQU8sRUFBRSxLQUFLLEVBQUUsQ0FBQztBQUM5RyxZQUFNO0FBQUEsSUFDUjtBQUFBLEVBQ0Y7QUFDRjtBQUdBLGdCQUFnQixRQUFRLFFBQWtCLE1BQXNDO0FBQzlFLE1BQUksT0FBTztBQUNYLE1BQUksUUFBUTtBQUNaLE1BQUksU0FBUztBQUNiLE1BQUksVUFBVTtBQUNkLFNBQU8sWUFBWSxNQUFNO0FBQ3pCLG1CQUFpQixTQUFTLFFBQWlDO0FBQ3pELFFBQUksT0FBTztBQUNYLGFBQVMsS0FBSyxHQUFHLEtBQUssTUFBTSxRQUFRLE1BQU0sR0FBRztBQUMzQyxZQUFNLFNBQVMsTUFBTSxFQUFFO0FBQ3ZCLFVBQUksUUFBUTtBQUNWLFlBQUksUUFBUyxXQUFVO0FBQUEsaUJBQ2QsV0FBVyxLQUFNLFdBQVU7QUFBQSxpQkFDM0IsV0FBVyxJQUFLLFVBQVM7QUFBQSxNQUNwQyxXQUFXLFdBQVcsSUFBSyxVQUFTO0FBQUEsZUFDM0IsV0FBVyxPQUFPLFdBQVcsS0FBSztBQUN6QyxpQkFBUztBQUNULFlBQUksVUFBVSxHQUFHO0FBQ2YsY0FBSSxXQUFXLElBQUssT0FBTSxTQUFTLElBQUk7QUFDdkMsaUJBQU8sS0FBSztBQUFBLFFBQ2Q7QUFBQSxNQUNGLFdBQVcsV0FBVyxPQUFPLFdBQVcsT0FBUSxXQUFXLE9BQU8sVUFBVSxHQUFJO0FBQzlFLFlBQUksU0FBUyxHQUFHO0FBQ2Qsa0JBQVEsTUFBTSxNQUFNLE1BQU0sRUFBRTtBQUM1QixjQUFJLEtBQUssS0FBSyxNQUFNLEdBQUksT0FBTTtBQUFBLG1CQUNyQixXQUFXLElBQUssT0FBTSxTQUFTLElBQUk7QUFDNUMsaUJBQU87QUFDUCxpQkFBTyxLQUFLO0FBQUEsUUFDZDtBQUNBLFlBQUksV0FBVyxJQUFLLFVBQVM7QUFBQSxNQUMvQixXQUFXLFVBQVUsS0FBSyxDQUFDLGFBQWEsS0FBSyxNQUFNLEVBQUcsT0FBTSxTQUFTLElBQUk7QUFBQSxJQUMzRTtBQUNBLFFBQUksUUFBUSxFQUFHLFNBQVEsTUFBTSxNQUFNLElBQUk7QUFBQSxFQUN6QztBQUNBLE1BQUksUUFBUSxHQUFHO0FBQ2IsVUFBTSxJQUFJLFFBQVEsY0FBYyxFQUFFLE1BQU0sR0FBRyxJQUFJLG1DQUFtQyxPQUFPLEVBQUUsS0FBSyxFQUFFLENBQUM7QUFBQSxFQUNyRztBQUNGO0FBRUEsSUFBTSxXQUFXLENBQUMsU0FDaEIsSUFBSSxRQUFRLGNBQWM7QUFBQSxFQUN4QixNQUFNLEdBQUcsSUFBSTtBQUFBLEVBQ2IsT0FBTyxFQUFFLEtBQUs7QUFBQSxFQUNkLFFBQVE7QUFDVixDQUFDOzs7QUM5RUgsU0FBUyx1QkFBdUI7QUFNekIsSUFBTSxRQUFtQjtBQUFBLEVBQzlCLE1BQU07QUFBQSxFQUNOLFFBQVE7QUFBQSxFQUNSLE9BQU8sS0FBSyxRQUFRLE1BQU07QUFDeEIsUUFBSSxPQUFPO0FBQ1gscUJBQWlCLFFBQVEsZ0JBQWdCLEVBQUUsT0FBTyxRQUFRLFdBQVcsT0FBTyxrQkFBa0IsQ0FBQyxHQUFHO0FBQ2hHLGNBQVE7QUFDUixVQUFJLEtBQUssS0FBSyxNQUFNLEdBQUk7QUFDeEIsVUFBSTtBQUNKLFVBQUk7QUFDRixrQkFBVSxVQUFVLElBQUk7QUFBQSxNQUMxQixTQUFTLE9BQU87QUFDZCxjQUFNLElBQUksUUFBUSxjQUFjO0FBQUEsVUFDOUIsTUFBTSxHQUFHLElBQUk7QUFBQSxVQUNiLE9BQU8sRUFBRSxNQUFNLEtBQUs7QUFBQSxVQUNwQixPQUFRLE1BQWdCO0FBQUEsUUFDMUIsQ0FBQztBQUFBLE1BQ0g7QUFDQSxVQUFJLENBQUMsV0FBVyxPQUFPO0FBQ3JCLGNBQU0sSUFBSSxRQUFRLGNBQWMsRUFBRSxNQUFNLCtCQUErQixPQUFPLEVBQUUsTUFBTSxLQUFLLEVBQUUsQ0FBQztBQUNoRyxZQUFNO0FBQUEsSUFDUjtBQUFBLEVBQ0Y7QUFDRjs7O0FIbEJBLElBQU0sYUFBbUMsQ0FBQyxLQUFLLE1BQU0sS0FBSztBQUUxRCxTQUFTLFlBQVksTUFBeUI7QUFDNUMsUUFBTSxRQUFRLFdBQVcsS0FBSyxDQUFDLEVBQUUsT0FBTyxNQUFNLE9BQU8sS0FBSyxJQUFJLENBQUM7QUFDL0QsTUFBSSxNQUFPLFFBQU87QUFDbEIsUUFBTSxJQUFJLFFBQVEsY0FBYztBQUFBLElBQzlCLE1BQU0sNkRBQTZELElBQUk7QUFBQSxFQUN6RSxDQUFDO0FBQ0g7QUFHTyxTQUFTLFVBQVUsTUFBYyxNQUFjLE9BQWMsT0FBMkI7QUFDN0YsTUFBSTtBQUNGLFVBQU0sRUFBRSxNQUFBQyxNQUFLLElBQUksWUFBWSxJQUFJO0FBQ2pDLGVBQVcsTUFBTSxJQUFJO0FBQ3JCLFFBQUlBLE1BQU0sT0FBTSxLQUFLQSxNQUFLLENBQUM7QUFBQSxFQUM3QixTQUFTLE9BQU87QUFDZCxVQUFNLFVBQVUsS0FBSyxFQUFFLEdBQUcsS0FBSztBQUFBLEVBQ2pDO0FBQ0Y7QUFHTyxTQUFTLFNBQVMsTUFBYyxNQUF1QztBQUM1RSxRQUFNLFNBQVMsWUFBWSxJQUFJO0FBQy9CLFNBQU8sT0FBTyxLQUFLLGlCQUFpQixXQUFXLE1BQU0sSUFBSSxDQUFDLEdBQUcsSUFBSTtBQUNuRTtBQUdBLGdCQUF1QixXQUFXLFFBQTRDO0FBQzVFLFFBQU0sT0FBTztBQUNiLFFBQU0sUUFBUSxNQUFNLFlBQVksTUFBTTtBQUN0QyxNQUFJLFVBQVUsT0FBVztBQUN6QixVQUFRLFVBQVUsTUFBTSxPQUFPLFVBQVUsTUFBTSxRQUFRLEtBQUssS0FBSyxRQUFRLElBQUk7QUFDL0U7QUFHQSxlQUFlLFlBQVksUUFBK0M7QUFDeEUsYUFBUztBQUNQLFVBQU0sUUFBUSxPQUFPLEtBQUs7QUFDMUIsUUFBSSxVQUFVLE1BQU07QUFDbEIsVUFBSSxPQUFPLGlCQUFpQixPQUFPLFVBQVcsUUFBTztBQUNyRCxZQUFNLElBQUksUUFBYyxDQUFDLFlBQVk7QUFDbkMsY0FBTSxLQUFLLE1BQVk7QUFDckIsaUJBQU8sSUFBSSxZQUFZLEVBQUUsRUFBRSxJQUFJLE9BQU8sRUFBRSxFQUFFLElBQUksU0FBUyxFQUFFO0FBQ3pELGtCQUFRO0FBQUEsUUFDVjtBQUNBLGVBQU8sR0FBRyxZQUFZLEVBQUUsRUFBRSxHQUFHLE9BQU8sRUFBRSxFQUFFLEdBQUcsU0FBUyxFQUFFO0FBQUEsTUFDeEQsQ0FBQztBQUNEO0FBQUEsSUFDRjtBQUNBLFVBQU0sT0FBTyxNQUFNLFNBQVMsTUFBTSxFQUFFLFFBQVEsV0FBVyxFQUFFO0FBQ3pELFVBQU0sUUFBUSxLQUFLLEtBQUssSUFBSSxJQUFJLENBQUM7QUFDakMsUUFBSSxVQUFVLE9BQVc7QUFDekIsV0FBTyxRQUFRLEtBQUs7QUFDcEIsV0FBTztBQUFBLEVBQ1Q7QUFDRjs7O0FJbkVBLFNBQVMsb0JBQUFDLHlCQUF3QjtBQUlqQyxlQUFzQixVQUFVLE1BQWMsTUFBMkM7QUFDdkYsUUFBTUMsT0FBTSxVQUFVLEtBQUssSUFBSTtBQUMvQixNQUFJLENBQUNBLFFBQU8sQ0FBQyx1QkFBdUIsS0FBSyxJQUFJLEVBQUcsUUFBTztBQUN2RCxNQUFJLFFBQVE7QUFDWixNQUFJLE9BQU87QUFDWCxtQkFBaUIsU0FBU0Msa0JBQWlCLFdBQVcsTUFBTSxJQUFJLENBQUMsR0FBNEI7QUFDM0YsYUFBUyxLQUFLLE1BQU0sUUFBUSxFQUFFLEdBQUcsT0FBTyxJQUFJLEtBQUssTUFBTSxRQUFRLElBQUksS0FBSyxDQUFDLEVBQUcsVUFBUztBQUNyRixXQUFPLE1BQU0sR0FBRyxFQUFFLEtBQUs7QUFBQSxFQUN6QjtBQUNBLFNBQU8sS0FBSyxJQUFJLEdBQUcsU0FBUyxTQUFTLEtBQUssSUFBSSxNQUFNRCxPQUFNLElBQUksRUFBRTtBQUNsRTs7O0FDU08sU0FBUyxTQUNkLE9BQ0EsTUFDQSxPQUNBLEVBQUUsWUFBWSxFQUFFLEtBQUssR0FBRyxjQUFjLEdBQzVCO0FBQ1YsTUFBSSxVQUFVLEtBQUs7QUFDakIsUUFBSSxDQUFDLGNBQWUsT0FBTSxJQUFJLFFBQVEsU0FBUyxFQUFFLE1BQU0seURBQXlELENBQUM7QUFDakgsV0FBTyxFQUFFLE1BQU0sa0JBQWtCLE1BQU0sTUFBTSxTQUFTLFdBQVcsY0FBYyxDQUFDLENBQUMsR0FBRyxPQUFPLFFBQVE7QUFBQSxFQUNyRztBQUNBLE1BQUksT0FBTyxVQUFVLFlBQVksQ0FBQyxNQUFNLFNBQVMsSUFBSSxHQUFHO0FBQ3RELGNBQVUsTUFBTSxPQUFPLE9BQU8sS0FBSyxTQUFTLENBQUMsTUFBTSxDQUFDLENBQUM7QUFDckQsV0FBTztBQUFBLE1BQ0wsTUFBTTtBQUFBLE1BQ04sTUFBTSxNQUFNLFNBQVMsU0FBUyxNQUFNLEtBQUssQ0FBQztBQUFBLE1BQzFDLE9BQU8sTUFBTSxVQUFVLE1BQU0sS0FBSztBQUFBLElBQ3BDO0FBQUEsRUFDRjtBQUNBLFFBQU0sUUFBUSxLQUFLLFNBQVMsQ0FBQyxNQUFNLENBQUM7QUFDcEMsUUFBTSxPQUFPLFlBQVksT0FBZ0IsQ0FBQyxTQUFTLEtBQUssU0FBUyxDQUFDLFFBQVEsR0FBRyxJQUFJLENBQUMsR0FBRyxLQUFLO0FBQzFGLFNBQU87QUFBQSxJQUNMLE1BQU07QUFBQSxJQUNOLE9BQU87QUFBQSxJQUNQLEtBQUssV0FBVyxLQUFLO0FBQ25CLFlBQU0sZUFBZSxFQUFFLE9BQU8sVUFBVSxNQUFNLEdBQUcsVUFBVSxVQUFVLFNBQVMsSUFBSTtBQUNsRixZQUFNLFFBQVEsUUFBUSxLQUFLLGNBQWMsVUFBVSxRQUFRLEtBQUssWUFBWSxDQUFDO0FBQzdFLFlBQU0sUUFBUSxLQUFLLFNBQVMsSUFBSSxXQUFXLE9BQU8sWUFBWSxDQUFDO0FBQy9ELFVBQUksVUFBVSxXQUFXLE1BQU0sUUFBUSxLQUFLLEVBQUcsUUFBTyxTQUFTLE9BQU8sS0FBeUIsQ0FBQztBQUNoRyxZQUFNLElBQUksUUFBUSxjQUFjLEVBQUUsTUFBTSxzREFBc0QsTUFBTSxDQUFDO0FBQUEsSUFDdkc7QUFBQSxFQUNGO0FBQ0Y7QUFFQSxJQUFNLFVBQVUsWUFBZ0M7QUFHaEQsZ0JBQWdCLE9BQU8sT0FBbUQ7QUFDeEUsYUFBVyxRQUFRLE1BQU8sT0FBTSxXQUFXLElBQUksSUFBSSxPQUFPLEVBQUUsT0FBTyxLQUFLO0FBQzFFO0FBRUEsZ0JBQWdCLFNBQVMsTUFBb0Q7QUFDM0UsTUFBSSxTQUFTO0FBQ2IsbUJBQWlCLFdBQVcsTUFBTTtBQUNoQyxjQUFVO0FBQ1YsVUFBTSxFQUFFLFFBQVEsUUFBUTtBQUFBLEVBQzFCO0FBQ0Y7OztBQzFETyxTQUFTLFVBQ2QsUUFDQSxFQUFFLE1BQU0sTUFBTSxHQUNkLE1BQ087QUFDUCxTQUFPLElBQUk7QUFBQSxJQUNULE9BQU8sUUFBUSxVQUFVLENBQUMsQ0FBQyxFQUFFLElBQUksQ0FBQyxDQUFDLEtBQUssS0FBSyxNQUFNO0FBQUEsTUFDakQ7QUFBQSxNQUNBLFlBQVksT0FBTyxDQUFDLFVBQVUsS0FBSyxTQUFTLENBQUMsR0FBRyxNQUFNLEtBQUssR0FBRyxLQUFLLENBQUMsR0FBRyxLQUFLO0FBQUEsSUFDOUUsQ0FBQztBQUFBLEVBQ0g7QUFDRjtBQUdPLFNBQVMsZUFBZSxXQUFzQixPQUEwQjtBQUM3RSxRQUFNLGVBQWUsRUFBRSxPQUFPLFVBQVUsTUFBTSxHQUFHLFVBQVUsVUFBVSxTQUFTLElBQUk7QUFDbEYsU0FBTyxJQUFJLFdBQVcsUUFBUSxPQUFPLGNBQWMsVUFBVSxRQUFRLE9BQU8sWUFBWSxDQUFDLEdBQUcsWUFBWTtBQUMxRztBQUVPLFNBQVMsVUFBVSxNQUFZLFlBQXdCLFFBQW1DO0FBQy9GLFFBQU0sUUFBUSxJQUFJLFdBQVcsV0FBVyxPQUFPLFVBQVU7QUFDekQsUUFBTSxRQUFRLEtBQUssU0FBUyxLQUFLO0FBQ2pDLFNBQU8sVUFBVSxVQUFVLFNBQVksRUFBRSxPQUFPLFFBQVEsUUFBUSxNQUFNLGNBQWM7QUFDdEY7QUFHTyxTQUFTLE1BQ2QsT0FDQSxXQUNBLE9BQ0EsT0FDc0M7QUFDdEMsTUFBSTtBQUNKLFNBQU8sQ0FBQyxVQUFVO0FBQ2hCLFVBQU0sT0FBTyxNQUFNLElBQUksS0FBSztBQUM1QixRQUFJLENBQUMsS0FBTSxRQUFPLE1BQU0sT0FBTyxLQUFLO0FBQ3BDLG1CQUFlLGVBQWUsV0FBVyxLQUFLO0FBQzlDLFdBQU8sVUFBVSxNQUFNLFlBQVksaUJBQWlCLEtBQUssRUFBRTtBQUFBLEVBQzdEO0FBQ0Y7OztBQ2hDTyxTQUFTLFVBQ2QsT0FDQSxNQUNBLE9BQXFDLENBQUMsR0FDekI7QUFDYixTQUFPLFVBQVcsU0FBUyxNQUFnQixJQUFJLEVBQUU7QUFBQSxJQUFRLENBQUMsRUFBRSxRQUFRLE9BQU8sQ0FBQyxHQUFHLE1BQU0sSUFBSSxVQUFVLFNBQVMsTUFDMUcsV0FBVyxVQUFhLFlBQVksV0FBVyxDQUFDLElBQUksQ0FBQyxFQUFFLE1BQU0sUUFBUSxLQUFLLEtBQUssQ0FBQyxHQUFHLE9BQU8sS0FBSyxTQUFTLENBQUMsR0FBRyxFQUFFLENBQUMsRUFBRSxDQUFDO0FBQUEsRUFDcEg7QUFDRjtBQUVBLElBQU0sUUFBUSxDQUFDLE9BQU8sUUFBUSxTQUFTLFdBQVcsV0FBVyxNQUFNO0FBRzVELFNBQVMsVUFDZCxFQUFFLFdBQVcsR0FDYixFQUFFLFNBQVMsTUFBTSxLQUFLLEdBQ3RCLFVBQ0EsV0FDYTtBQUNiLFNBQU87QUFBQSxJQUNMLEdBQUcsTUFBTSxRQUFRLENBQUMsU0FBUyxVQUFVLFFBQVEsSUFBSSxHQUFHLE1BQU0sQ0FBQyxJQUFJLENBQUMsQ0FBQztBQUFBLElBQ2pFLEdBQUcsV0FDQSxTQUFTLElBQUksRUFDYjtBQUFBLE1BQVEsQ0FBQyxhQUNQLENBQUMsV0FBVyxPQUFPLEVBQVk7QUFBQSxRQUFRLENBQUMsU0FDdkMsT0FBTyxRQUFRLFNBQVMsUUFBUSxJQUFJLEtBQUssQ0FBQyxDQUFDLEVBQUU7QUFBQSxVQUFRLENBQUMsQ0FBQyxLQUFLLEtBQUssTUFDL0QsT0FBTyxLQUFLLFFBQVEsSUFBSSxLQUFLLENBQUMsQ0FBQyxFQUFFLEtBQUssQ0FBQyxRQUFRLElBQUksWUFBWSxNQUFNLElBQUksWUFBWSxDQUFDLElBQ2xGLENBQUMsSUFDRCxVQUFVLE9BQU8sU0FBUyxNQUFNLENBQUMsTUFBTSxHQUFHLENBQUM7QUFBQSxRQUNqRDtBQUFBLE1BQ0Y7QUFBQSxJQUNGO0FBQUEsSUFDRixHQUFJLGNBQWMsU0FBWSxDQUFDLElBQUksWUFBWSxZQUFZLGFBQWEsU0FBUztBQUFBLElBQ2pGLEdBQUcsU0FBUyxRQUFRLENBQUMsWUFBWSxZQUFZLFlBQVksV0FBVyxPQUFPLENBQUM7QUFBQSxFQUM5RTtBQUNGO0FBR0EsU0FBUyxZQUFZLFlBQXdCLE1BQStCLE9BQTRCO0FBQ3RHLE1BQUk7QUFDRixVQUFNLEVBQUUsU0FBUyxLQUFLLElBQUksV0FBVyxLQUFLLE1BQU0sS0FBSztBQUNyRCxRQUFJLFNBQVMsYUFBYSxhQUFhLElBQUksUUFBUSxRQUFRLEVBQUUsR0FBRyxLQUFNLFFBQU8sQ0FBQztBQUM5RSxVQUFNLEVBQUUsVUFBVSxHQUFHLE9BQU8sSUFBSSxHQUFHLEtBQUssSUFBSTtBQUM1QyxXQUFPLFVBQVUsTUFBTSxJQUFJO0FBQUEsRUFDN0IsUUFBUTtBQUVOLFdBQU8sQ0FBQztBQUFBLEVBQ1Y7QUFDRjtBQUdPLFNBQVMsY0FBYyxXQUFzQixPQUFtQztBQUNyRixRQUFNLFFBQVEsVUFBVSxNQUFNO0FBQzlCLFFBQU0sVUFBVSxvQkFBSSxJQUF1QjtBQUMzQyxhQUFXLEVBQUUsTUFBTSxLQUFLLE9BQU87QUFDN0IsZUFBVyxFQUFFLFNBQVMsS0FBSyxLQUFLLE9BQU87QUFFckMsVUFBSSxLQUFNO0FBQ1YsaUJBQVcsT0FBTyxTQUFTO0FBQ3pCLGNBQU0sT0FBTyxJQUFJLFFBQVEsU0FBWSxJQUFJLE9BQU8sR0FBRyxJQUFJLElBQUksSUFBSSxJQUFJLEdBQUc7QUFDdEUsWUFBSSxDQUFDLFFBQVEsSUFBSSxJQUFJLEtBQUssTUFBTSxPQUFPLElBQUksTUFBTSxJQUFJLEdBQUcsTUFBTSxPQUFXLFNBQVEsSUFBSSxNQUFNLEdBQUc7QUFBQSxNQUNoRztBQUFBLElBQ0Y7QUFBQSxFQUNGO0FBQ0EsUUFBTSxDQUFDLEtBQUssSUFBSTtBQUNoQixNQUFJLENBQUMsTUFBTztBQUNaLFFBQU0sUUFBUSxDQUFDLEdBQUcsUUFBUSxLQUFLLENBQUM7QUFDaEMsUUFBTSxJQUFJLFFBQVEsa0JBQWtCO0FBQUEsSUFDbEMsTUFBTSxNQUFNLFdBQVcsSUFBSSxjQUFjLE1BQU0sQ0FBQyxDQUFDLGdCQUFnQixlQUFlLE1BQU0sS0FBSyxJQUFJLENBQUM7QUFBQSxJQUNoRyxPQUFPLE1BQU0sQ0FBQyxFQUFFO0FBQUEsSUFDaEIsUUFBUSxHQUFHLE1BQU0sSUFBSSxDQUFDLFNBQVMseUJBQXlCLFFBQVEsS0FBSyxJQUFJLElBQUksSUFBSSxJQUFJLE1BQU0sSUFBSSxFQUFFLEVBQUUsS0FBSyxJQUFJLENBQUM7QUFBQSxJQUM3RyxNQUFNLEVBQUUsTUFBTTtBQUFBLEVBQ2hCLENBQUM7QUFDSDs7O0FDMUVPLElBQU0sU0FBbUM7QUFBQSxFQUM5QyxNQUFNO0FBQUEsRUFDTixNQUFNLENBQUMsU0FBaUMsWUFBWTtBQUFBLEVBQ3BELE1BQU0sS0FBSyxFQUFFLFFBQVEsTUFBTSxLQUFLLEdBQUcsRUFBRSxNQUFNLE1BQU0sTUFBTSxHQUFHO0FBQ3hELFVBQU0sS0FBSyxDQUFDLFFBQWdCLENBQUMsVUFDM0IsS0FBSyxTQUFTLENBQUMsR0FBRyxNQUFNLFVBQVUsS0FBSyxHQUFHLEtBQUssQ0FBQztBQUNsRCxVQUFNLE9BQU8sWUFBWSxLQUFLLE1BQU0sR0FBRyxNQUFNLEdBQUcsS0FBSztBQUNyRCxVQUFNLFNBQVMsS0FBSyxVQUFVLFNBQVksU0FBWSxZQUFZLEtBQUssT0FBTyxHQUFHLE9BQU8sR0FBRyxLQUFLO0FBQ2hHLFVBQU0sU0FBUyxLQUFLLFVBQVUsU0FBWSxTQUFZLFlBQVksS0FBSyxPQUFPLEdBQUcsT0FBTyxHQUFHLEtBQUs7QUFDaEcsVUFBTSxRQUFRLFFBQVEsVUFBVSxLQUFLLEVBQUU7QUFDdkMsV0FBTztBQUFBLE1BQ0wsTUFBTTtBQUFBLE1BQ047QUFBQSxNQUNBLFNBQVM7QUFBQSxNQUNULFVBQVUsQ0FBQztBQUFBLE1BQ1gsT0FBTyxDQUFDLEtBQUssRUFBRTtBQUFBLE1BQ2YsU0FBUyxVQUFVLE1BQU0sTUFBTSxDQUFDLEdBQUcsTUFBTSxRQUFRLENBQUM7QUFBQSxNQUNsRCxNQUFNLEtBQUssTUFBTTtBQUNmLGNBQU0sVUFBVSxVQUFVLE1BQU0sUUFBUSxRQUFRLE1BQU0sS0FBSztBQUMzRCxjQUFNLFFBQVEsS0FBSyxVQUFVLFNBQVMsSUFBSSxLQUFLLEVBQUU7QUFDakQsY0FBTSxTQUFTLFVBQVUsU0FBWSxNQUFNLElBQUksS0FBSyxJQUFJLFNBQVMsSUFBSSxJQUFJLFFBQVEsS0FBSyxJQUFJLE9BQU8sT0FBTztBQUN4RyxjQUFNLEVBQUUsT0FBTyxPQUFPLElBQUk7QUFDMUIsYUFBSyxNQUFNLElBQUksS0FBSyxJQUFJLEVBQUUsT0FBTyxRQUFRLFFBQVEsa0JBQWtCLEtBQUssR0FBRyxDQUFDO0FBQzVFLGVBQU8sRUFBRSxNQUFNLFFBQVcsTUFBTSxDQUFDLEtBQUssRUFBRSxHQUFHLFVBQVUsQ0FBQyxHQUFHLE1BQU0sRUFBRSxRQUFRLE9BQU8sTUFBTSxFQUFFO0FBQUEsTUFDMUY7QUFBQSxNQUNBLFNBQVMsTUFBTTtBQUFBLElBQ2pCO0FBQUEsRUFDRjtBQUNGO0FBR0EsU0FBUyxVQUNQLE1BQ0EsUUFDQSxRQUNBLEVBQUUsV0FBVyxNQUFNLEdBQ25CLE9BQ21CO0FBQ25CLFFBQU0sT0FBTyxVQUFVLE1BQU0sZUFBZSxXQUFXLEtBQUssR0FBRyxLQUFLO0FBQ3BFLE1BQUksQ0FBQyxRQUFRLENBQUMsTUFBTSxRQUFRLEtBQUssS0FBSyxLQUFLLEtBQUssTUFBTSxXQUFXLEdBQUc7QUFDbEUsVUFBTSxJQUFJLFFBQVEsY0FBYztBQUFBLE1BQzlCLE1BQU0sR0FBRyxLQUFLO0FBQUEsTUFDZCxPQUFPLE1BQU0sUUFBUSxNQUFNLEtBQUssSUFBSSxzQkFBc0I7QUFBQSxJQUM1RCxDQUFDO0FBQUEsRUFDSDtBQUNBLFNBQVEsS0FBSyxNQUEyQixJQUFJLENBQUMsU0FBUztBQUNwRCxVQUFNLFFBQVEsb0JBQUksSUFBSSxDQUFDLENBQUMsUUFBUSxFQUFFLE9BQU8sTUFBTSxRQUFRLEtBQUssUUFBUSxRQUFRLE1BQU0sQ0FBQyxDQUFDLENBQUM7QUFDckYsVUFBTSxNQUFNLGVBQWUsV0FBVyxJQUFJLE1BQU0sT0FBTyxPQUFPLEtBQUssQ0FBQztBQUNwRSxVQUFNLFFBQVEsU0FBUyxVQUFVLFFBQVEsS0FBSyxLQUFLLElBQUk7QUFDdkQsVUFBTSxPQUFPLFNBQVMsVUFBVSxRQUFRLEtBQUssS0FBSyxHQUFHLFFBQVE7QUFDN0QsV0FBTztBQUFBLE1BQ0wsT0FBTyxPQUFPLFFBQVEsSUFBSTtBQUFBLE1BQzFCLE9BQU8sT0FBTyxTQUFTO0FBQUEsTUFDdkIsU0FBUyxPQUFPLFVBQVUsS0FBSyxZQUFZO0FBQUEsSUFDN0M7QUFBQSxFQUNGLENBQUM7QUFDSDtBQUdBLGVBQWUsSUFBSSxNQUFjLFNBQTRCLEVBQUUsVUFBVSxHQUEwQjtBQUNqRyxNQUFJLENBQUMsVUFBVSxRQUFRO0FBQ3JCLFVBQU0sSUFBSSxRQUFRLGlCQUFpQjtBQUFBLE1BQ2pDLE1BQU0sMEJBQTBCLElBQUk7QUFBQSxNQUNwQyxRQUFRLFNBQVMsSUFBSSwrQkFBK0IsS0FBSyxPQUFPLENBQUM7QUFBQSxNQUNqRSxNQUFNLEVBQUUsT0FBTyxLQUFLO0FBQUEsSUFDdEIsQ0FBQztBQUFBLEVBQ0g7QUFDQSxTQUFPLFFBQ0wsTUFBTSxVQUFVO0FBQUEsSUFDZDtBQUFBLElBQ0EsUUFBUSxJQUFJLENBQUMsRUFBRSxNQUFNLE1BQU0sS0FBSztBQUFBLEVBQ2xDLENBQ0Y7QUFDRjtBQUdBLFNBQVMsUUFBUSxNQUFjLE9BQWUsU0FBb0M7QUFDaEYsUUFBTSxTQUFTLE1BQU0sS0FBSyxFQUFFLFlBQVk7QUFDeEMsUUFBTSxRQUFRLFFBQVEsT0FBTyxDQUFDLEVBQUUsT0FBTyxNQUFNLE1BQU0sT0FBTyxLQUFLLE1BQU0sU0FBUyxVQUFVLEtBQUs7QUFDN0YsUUFBTSxRQUNKLE1BQU0sU0FBUyxJQUFJLFFBQVEsUUFBUSxPQUFPLENBQUMsRUFBRSxNQUFNLE1BQU0sV0FBVyxNQUFNLE1BQU0sWUFBWSxFQUFFLFNBQVMsTUFBTSxDQUFDO0FBQ2hILFFBQU0sQ0FBQyxLQUFLLElBQUk7QUFDaEIsTUFBSSxTQUFTLE1BQU0sV0FBVyxFQUFHLFFBQU87QUFDeEMsTUFBSSxPQUFPO0FBQ1QsVUFBTSxJQUFJLFFBQVEsa0JBQWtCO0FBQUEsTUFDbEMsTUFBTSxTQUFTLElBQUksSUFBSSxLQUFLLFNBQVMsTUFBTSxNQUFNLGFBQWEsS0FBSyxLQUFLLENBQUM7QUFBQSxNQUN6RSxRQUFRO0FBQUEsTUFDUixNQUFNLEVBQUUsT0FBTyxNQUFNLFNBQVMsTUFBTSxJQUFJLENBQUMsRUFBRSxNQUFNLE1BQU0sS0FBSyxFQUFFO0FBQUEsSUFDaEUsQ0FBQztBQUFBLEVBQ0g7QUFDQSxRQUFNLElBQUksUUFBUSxlQUFlO0FBQUEsSUFDL0IsTUFBTSxTQUFTLElBQUksSUFBSSxLQUFLLGlCQUFpQixRQUFRLE1BQU07QUFBQSxJQUMzRCxRQUNFO0FBQUEsTUFDRTtBQUFBLE1BQ0EsUUFBUSxJQUFJLENBQUMsRUFBRSxNQUFNLE1BQU0sS0FBSztBQUFBLElBQ2xDLEtBQUssY0FBYyxLQUFLLE9BQU8sQ0FBQztBQUFBLElBQ2xDLE1BQU0sRUFBRSxPQUFPLEtBQUs7QUFBQSxFQUN0QixDQUFDO0FBQ0g7QUFFQSxTQUFTLEtBQUssU0FBb0M7QUFDaEQsUUFBTSxTQUFTLFFBQVEsTUFBTSxHQUFHLENBQUMsRUFBRSxJQUFJLENBQUMsRUFBRSxNQUFNLE1BQU0sS0FBSztBQUMzRCxTQUFPLEdBQUcsT0FBTyxLQUFLLElBQUksQ0FBQyxHQUFHLFFBQVEsU0FBUyxPQUFPLFNBQVMsU0FBUyxRQUFRLFNBQVMsT0FBTyxNQUFNLFVBQVUsRUFBRTtBQUNwSDs7O0FDcEhPLFNBQVMsaUJBQWlCLEVBQUUsS0FBSyxHQUFvQixLQUF5QixFQUFFLE1BQU0sS0FBSyxHQUFtQjtBQUNuSCxNQUFJLENBQUMsS0FBSyxRQUFTO0FBQ25CLFFBQU0sSUFBSSxRQUFRLGNBQWM7QUFBQSxJQUM5QixNQUFNLEdBQUcsR0FBRyxVQUFVLEtBQUssSUFBSSx3QkFBd0IsS0FBSyxNQUFNO0FBQUEsSUFDbEUsT0FBTyxLQUFLLFNBQVMsQ0FBQyxHQUFHLE1BQU0sR0FBRyxDQUFDO0FBQUEsSUFDbkMsUUFDRTtBQUFBLEVBQ0osQ0FBQztBQUNIOzs7QUNhTyxJQUFNLFVBQXFDO0FBQUEsRUFDaEQsTUFBTTtBQUFBLEVBQ04sTUFBTSxDQUFDLFNBQWtDLGFBQWE7QUFBQSxFQUN0RCxNQUFNLEtBQUssTUFBTSxNQUFNO0FBQ3JCLFVBQU0sRUFBRSxNQUFNLE1BQU0sT0FBTyxVQUFVLElBQUk7QUFDekMsVUFBTSxRQUFnQixDQUFDO0FBQ3ZCLGVBQVcsQ0FBQyxPQUFPLElBQUksS0FBSyxLQUFLLFFBQVEsUUFBUSxFQUFHLE9BQU0sS0FBSyxNQUFNLFNBQVMsTUFBTSxPQUFPLElBQUksQ0FBQztBQUNoRyxVQUFNLENBQUMsS0FBSyxLQUFLLElBQUk7QUFDckIsVUFBTSxRQUFRLEtBQUssUUFBUSxXQUFXLElBQUksS0FBSyxTQUFTLE1BQU0sS0FBSztBQUNuRSxVQUFNLEVBQUUsVUFBVSxNQUFNLFdBQVcsUUFBUSxJQUFJO0FBQy9DLFVBQU0sUUFBUSxLQUFLLFlBQVksTUFBTSxTQUFZLFNBQVksV0FBVyxLQUFLLFlBQVksQ0FBQztBQUUxRixhQUFTLFdBQVcsVUFBd0I7QUFDMUMsVUFBSTtBQUNGLGVBQU8sZ0JBQWdCLFVBQVUsRUFBRSxTQUFTLEVBQUUsUUFBUSxNQUFNLEdBQUcsT0FBTyxVQUFVLFVBQVUsU0FBUyxDQUFDO0FBQUEsTUFDdEcsU0FBUyxPQUFPO0FBQ2QsY0FBTSxVQUFVLEtBQUssRUFBRSxHQUFHLEtBQUssU0FBUyxDQUFDLEdBQUcsTUFBTSxZQUFZLENBQUMsQ0FBQztBQUFBLE1BQ2xFO0FBQUEsSUFDRjtBQUVBLFdBQU87QUFBQSxNQUNMLE1BQU07QUFBQSxNQUNOO0FBQUEsTUFDQSxTQUFTO0FBQUEsTUFDVCxVQUFVLE1BQU0sUUFBUSxDQUFDLEVBQUUsUUFBUSxNQUFNLFdBQVcsQ0FBQyxDQUFDO0FBQUEsTUFDdEQsU0FBUyxVQUFVLEtBQUssU0FBUyxNQUFNLENBQUMsR0FBRyxNQUFNLFNBQVMsQ0FBQztBQUFBLE1BQzNELE1BQU0sS0FBSyxNQUFNO0FBRWYsY0FBTSxPQUFPLE1BQU0sSUFBSSxPQUFPLElBQUk7QUFDbEMsY0FBTSxRQUFRLE1BQU0sTUFBTSxPQUFPLElBQUk7QUFFckMsWUFBSSxDQUFDLFFBQVEsQ0FBQyxTQUFTLEtBQUssVUFBVSxPQUFRLFFBQU8sRUFBRSxNQUFNLFFBQVcsTUFBTSxDQUFDLEdBQUcsVUFBVSxDQUFDLEVBQUU7QUFDL0YsY0FBTSxRQUFRLGtCQUFrQixNQUFNLE9BQU8sRUFBRSxVQUFVLE1BQU0sVUFBVSxDQUFDO0FBQzFFLGNBQU0sRUFBRSxPQUFPLFFBQVEsSUFBSSxVQUFVLFdBQVcsT0FBTyxPQUFPLElBQUksRUFBRSxPQUFPLE9BQU8sU0FBUyxDQUFDLEVBQUU7QUFDOUYsY0FBTSxXQUFXO0FBQUEsVUFDZixHQUFHLFFBQVEsSUFBSSxDQUFDLFVBQVUsSUFBSSxRQUFRLGVBQWUsRUFBRSxNQUFNLEdBQUcsS0FBSyxvQ0FBb0MsQ0FBQyxDQUFDO0FBQUEsVUFDM0csR0FBSSxNQUFNLFNBQVMsSUFBSSxDQUFDLE9BQU8sT0FBTyxJQUFJLENBQUMsSUFBSSxDQUFDO0FBQUEsVUFDaEQsR0FBRyxLQUFLLE9BQU8sTUFBTSxLQUFLO0FBQUEsUUFDNUI7QUFDQSxlQUFPLEVBQUUsTUFBTSxRQUFXLE1BQU0sQ0FBQyxHQUFHLFVBQVUsTUFBTSxFQUFFLGFBQWEsTUFBTSxFQUFFO0FBQUEsTUFDN0U7QUFBQSxNQUNBLFNBQVMsTUFBTTtBQUFBLElBQ2pCO0FBQUEsRUFDRjtBQUNGO0FBRUEsZUFBZSxTQUFTLE1BQWdCLE9BQWUsTUFBK0I7QUFDcEYsUUFBTSxPQUFPLENBQUMsR0FBRyxLQUFLLE1BQU0sV0FBVyxLQUFLO0FBQzVDLE1BQUksVUFBVSxNQUFNO0FBQ2xCLFVBQU0sV0FBVyxNQUFNLEtBQUssUUFBUSxLQUFLLE1BQU0sU0FBUztBQUN4RCxxQkFBaUIsVUFBVSxXQUFXLElBQUk7QUFDMUMsVUFBTSxRQUFRLFVBQVUsS0FBSyxNQUFNLE1BQU0sQ0FBQyxHQUFHLE1BQU0sTUFBTSxDQUFDO0FBQzFELFVBQU0sRUFBRSxRQUFRLElBQUk7QUFDcEIsVUFBTSxXQUFXLFlBQVksU0FBWSxTQUFZLFlBQVksU0FBUyxDQUFDLElBQUksQ0FBQyxPQUFPLEVBQUUsS0FBSztBQUM5RixVQUFNLEVBQUUsS0FBSyxJQUFJLFNBQVM7QUFDMUIsV0FBTztBQUFBLE1BQ0wsT0FBTztBQUFBLE1BQ1AsU0FBUztBQUFBLE1BQ1QsTUFBTSxPQUFPLEVBQUUsV0FBVyxPQUFPLFFBQVEsSUFBSSxHQUFHO0FBQzlDLGNBQU0sUUFBUSxNQUFNLE9BQU8sV0FBVyxPQUFPLElBQUk7QUFDakQsY0FBTSxTQUFTLGVBQWUsV0FBVyxLQUFLLEVBQUU7QUFDaEQsY0FBTSxPQUFPLE1BQU0sWUFBWSxXQUFXLFVBQVUsRUFBRSxPQUFPLFFBQVEsVUFBVSxRQUFRLE1BQU0sTUFBTSxJQUFJLENBQUM7QUFDeEcsZUFBTyxVQUFVLFNBQVMsU0FBWSxTQUFTLElBQUk7QUFBQSxNQUNyRDtBQUFBLElBQ0Y7QUFBQSxFQUNGO0FBQ0EsTUFBSSxVQUFVLE1BQU07QUFDbEIsVUFBTSxFQUFFLEtBQUssSUFBSTtBQUNqQixXQUFPO0FBQUEsTUFDTCxPQUFPLFFBQVEsSUFBSTtBQUFBLE1BQ25CLFNBQVM7QUFBQSxNQUNULFFBQVEsQ0FBQyxFQUFFLFVBQVUsTUFBTSxTQUFTLFVBQVUsV0FBVyxPQUFPLElBQUk7QUFBQSxJQUN0RTtBQUFBLEVBQ0Y7QUFDQSxNQUFJLFVBQVUsTUFBTTtBQUNsQixVQUFNLEVBQUUsS0FBSyxJQUFJO0FBQ2pCLFdBQU87QUFBQSxNQUNMLE9BQU87QUFBQSxNQUNQLFNBQVM7QUFBQSxNQUNULFFBQVEsT0FBTyxFQUFFLFVBQVUsTUFBTSxTQUFTLFVBQVUsV0FBVyxNQUFNLElBQUk7QUFBQSxJQUMzRTtBQUFBLEVBQ0Y7QUFDQSxRQUFNLE9BQU8sWUFBWSxLQUFLLE9BQU8sQ0FBQyxVQUFVLEtBQUssS0FBSyxTQUFTLENBQUMsR0FBRyxNQUFNLFNBQVMsR0FBRyxLQUFLLENBQUMsR0FBRyxLQUFLLEtBQUs7QUFDNUcsUUFBTSxRQUFRLE9BQU8sS0FBSyxVQUFVLFdBQVcsS0FBSyxNQUFNLFFBQVEsZ0JBQWdCLElBQUksSUFBSTtBQUMxRixTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0EsU0FBUztBQUFBLElBQ1QsTUFBTSxPQUFPLEVBQUUsV0FBVyxNQUFNLEdBQUc7QUFDakMsWUFBTSxRQUFRLFVBQVUsTUFBTSxlQUFlLFdBQVcsS0FBSyxHQUFHLEtBQUssR0FBRyxTQUFTO0FBQ2pGLFlBQU0sT0FBTyxPQUFPLFVBQVUsV0FBVyxRQUFRO0FBQ2pELGFBQU8sRUFBRSxRQUFRLFFBQVcsU0FBUyxDQUFDLEdBQUcsTUFBTSxHQUFJLE9BQU8sVUFBVSxZQUFZLEVBQUUsTUFBTSxFQUFHO0FBQUEsSUFDN0Y7QUFBQSxFQUNGO0FBQ0Y7QUFHQSxTQUFTLFdBQ1AsT0FDQSxTQUNnRjtBQUNoRixRQUFNLFdBQVcsUUFBUSxJQUFJLENBQUMsV0FBVyxFQUFFLE9BQU8sUUFBUSxTQUFTLEtBQUssRUFBRSxFQUFFO0FBQzVFLFNBQU87QUFBQSxJQUNMLE9BQU8sTUFBTSxPQUFPLENBQUMsRUFBRSxHQUFHLE1BQU0sQ0FBQyxTQUFTLEtBQUssQ0FBQyxFQUFFLE9BQU8sTUFBTSxPQUFPLEVBQUUsQ0FBQyxDQUFDO0FBQUEsSUFDMUUsU0FBUyxTQUFTLE9BQU8sQ0FBQyxFQUFFLE9BQU8sTUFBTSxDQUFDLE1BQU0sS0FBSyxDQUFDLEVBQUUsR0FBRyxNQUFNLE9BQU8sRUFBRSxDQUFDLENBQUMsRUFBRSxJQUFJLENBQUMsRUFBRSxNQUFNLE1BQU0sS0FBSztBQUFBLEVBQ3hHO0FBQ0Y7QUFFQSxTQUFTLE9BQU8sT0FBOEIsRUFBRSxVQUFVLEdBQWtCO0FBQzFFLFFBQU0sQ0FBQyxLQUFLLElBQUk7QUFDaEIsUUFBTSxFQUFFLEtBQUssSUFBSSxVQUFVO0FBQzNCLFFBQU0sS0FBSyxTQUFTLEdBQUcsTUFBTSxFQUFFLEtBQUssS0FBSyxVQUFVLE1BQU0sSUFBSSxDQUFDLENBQUMsU0FBUyxLQUFLLFVBQVUsTUFBTSxLQUFLLENBQUMsQ0FBQztBQUNwRyxTQUFPLElBQUksUUFBUSxlQUFlO0FBQUEsSUFDaEMsTUFBTSxHQUFHLE1BQU0sTUFBTSxJQUFJLE1BQU0sV0FBVyxJQUFJLGVBQWUsYUFBYTtBQUFBLElBQzFFLE9BQU87QUFBQSxFQUNULENBQUM7QUFDSDtBQUVBLFNBQVMsS0FBSyxPQUEwQixNQUFzQixPQUFrQztBQUM5RixNQUFJLENBQUMsU0FBUyxLQUFLLFNBQVMsVUFBYSxNQUFNLFNBQVMsT0FBVyxRQUFPLENBQUM7QUFDM0UsUUFBTSxRQUFRLEtBQUssTUFBTyxNQUFNLE9BQU8sS0FBSyxJQUFJLEtBQUssTUFBTSxJQUFLLElBQUssR0FBRyxJQUFJO0FBQzVFLE1BQUksTUFBTSxLQUFLLE9BQU8sQ0FBQyxDQUFDLE1BQU0sT0FBVyxRQUFPLENBQUM7QUFDakQsU0FBTztBQUFBLElBQ0wsSUFBSSxRQUFRLGVBQWU7QUFBQSxNQUN6QixNQUFNLDBCQUEwQixLQUFLLHlDQUF5QyxNQUFNLFNBQVMsQ0FBQztBQUFBLE1BQzlGLE9BQU8sR0FBRyxhQUFhLEtBQUssSUFBSSxDQUFDLFNBQVMsYUFBYSxNQUFNLElBQUksQ0FBQztBQUFBLElBQ3BFLENBQUM7QUFBQSxFQUNIO0FBQ0Y7OztBQ3ZKQSxJQUFNLFFBQXNDO0FBQUEsRUFDMUM7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUNGO0FBRU8sU0FBUyxPQUFPLEtBQTBCLE9BQXlCO0FBQ3hFLFNBQU8sT0FBTyxNQUFNLFFBQVEsSUFBSSxNQUFNLEtBQUssTUFBTSxRQUFRLE1BQU0sTUFBTSxJQUFJLE1BQU07QUFDakY7OztBQ1ZBLGVBQXNCLFdBQ3BCLE9BQ0EsUUFDQSxNQUNBLFFBQzhCO0FBQzlCLE1BQUk7QUFDSixpQkFBZSxTQUF3QjtBQUNyQyxXQUFPLENBQUMsT0FBTyxXQUFXLENBQUMsT0FBTztBQUNoQyxZQUFNLE9BQU8sTUFBTSxNQUFNLEtBQUs7QUFDOUIsVUFBSSxLQUFLLEtBQU07QUFDZixZQUFNLEtBQUssS0FBSyxLQUFLO0FBQUEsSUFDdkI7QUFBQSxFQUNGO0FBQ0EsUUFBTSxVQUFVLE1BQ2QsT0FBTyxFQUFFLE1BQU0sQ0FBQyxVQUFtQjtBQUNqQyxjQUFVLFVBQVUsS0FBSztBQUFBLEVBQzNCLENBQUM7QUFDSCxRQUFNLFFBQVEsSUFBSSxNQUFNLEtBQUssRUFBRSxRQUFRLE9BQU8sR0FBRyxPQUFPLENBQUM7QUFDekQsUUFBTSxNQUFNLFNBQVM7QUFDckIsU0FBTztBQUNUOzs7QUNLQSxJQUFNLGNBQWM7QUFHYixTQUFTLFVBQ2QsTUFDQSxNQUNBLE1BQ0EsT0FDVztBQUNYLFFBQU0sUUFBUSxvQkFBSSxJQUFrQjtBQUNwQyxRQUFNLFNBQVMsb0JBQUksSUFBbUI7QUFDdEMsYUFBVyxDQUFDLE1BQU0sSUFBSSxLQUFLLE9BQU8sUUFBUSxLQUFLLE9BQU8sR0FBRztBQUN2RCxVQUFNLFFBQVEsS0FBSyxTQUFTLENBQUMsR0FBRyxNQUFNLFdBQVcsSUFBSSxDQUFDO0FBQ3RELFFBQUk7QUFDRixVQUFJLEtBQUssU0FBUyxJQUFJO0FBQ3BCLGNBQU07QUFBQSxVQUNKO0FBQUEsVUFDQSxZQUFZLE1BQU0sTUFBTSxPQUFPLEtBQUs7QUFBQSxRQUN0QztBQUFBLFVBQ0csUUFBTyxJQUFJLE1BQU0sVUFBVSxNQUFNLEtBQUssQ0FBQztBQUFBLElBQzlDLFNBQVMsT0FBTztBQUNkLFlBQU0sVUFBVSxLQUFLLEVBQUUsR0FBRyxLQUFLO0FBQUEsSUFDakM7QUFBQSxFQUNGO0FBQ0EsTUFBSTtBQUNGLFFBQUksS0FBSyxPQUFPLE9BQVcsaUJBQWdCLEtBQUssRUFBRTtBQUFBLEVBQ3BELFNBQVMsT0FBTztBQUNkLFVBQU0sVUFBVSxLQUFLLEVBQUUsR0FBRyxLQUFLLFNBQVMsQ0FBQyxHQUFHLE1BQU0sSUFBSSxDQUFDLENBQUM7QUFBQSxFQUMxRDtBQUNBLFNBQU87QUFBQSxJQUNMLFNBQVMsT0FBTyxLQUFLLEtBQUssT0FBTztBQUFBLElBQ2pDO0FBQUEsSUFDQTtBQUFBLElBQ0EsSUFBSSxLQUFLO0FBQUEsSUFDVCxJQUFJLEtBQUs7QUFBQSxJQUNULE1BQU0sS0FBSyxTQUFTLEtBQUssT0FBTyxVQUFhLEtBQUssT0FBTztBQUFBLEVBQzNEO0FBQ0Y7QUFHTyxTQUFTLFlBQVksRUFBRSxPQUFPLEdBQWMsVUFBOEI7QUFDL0UsUUFBTSxRQUErQixDQUFDO0FBQ3RDLGFBQVcsQ0FBQyxNQUFNLEtBQUssS0FBSyxRQUFRO0FBQ2xDLFFBQUk7QUFDRixZQUFNLElBQUksSUFBSSxNQUFNLEtBQUssUUFBUSxLQUFLO0FBQUEsSUFDeEMsUUFBUTtBQUVOLFlBQU0sSUFBSSxJQUFJO0FBQUEsSUFDaEI7QUFBQSxFQUNGO0FBQ0EsU0FBTztBQUNUO0FBR08sU0FBUyxPQUNkLE1BQ0EsTUFDQSxTQUNxRTtBQUNyRSxNQUFJO0FBQ0YsV0FBTyxFQUFFLE9BQU8sUUFBUSxNQUFNLE1BQU0sT0FBTyxHQUFHLFFBQVE7QUFBQSxFQUN4RCxTQUFTLE9BQU87QUFDZCxVQUFNRSxXQUFVLFVBQVUsS0FBSztBQUMvQixXQUFPLEVBQUUsT0FBTyxRQUFRLE1BQU0sTUFBTUEsUUFBTyxHQUFHLFNBQVNBLFNBQVE7QUFBQSxFQUNqRTtBQUNGO0FBR0EsU0FBUyxRQUFRLEVBQUUsU0FBUyxNQUFNLEdBQWMsTUFBWSxRQUF1QztBQUNqRyxRQUFNLFFBQStCLENBQUM7QUFDdEMsUUFBTSxhQUFhLGVBQWUsS0FBSyxXQUFXLEtBQUssS0FBSztBQUM1RCxhQUFXLFFBQVEsU0FBUztBQUMxQixVQUFNLE9BQU8sTUFBTSxJQUFJLElBQUk7QUFDM0IsVUFBTSxJQUFJLElBQUksS0FBSyxLQUFLLE1BQU0sSUFBSSxLQUFLO0FBQ3ZDLFFBQUk7QUFDRixZQUFNLFFBQVEsTUFBTSxTQUFTLFVBQVU7QUFDdkMsVUFBSSxVQUFVLFVBQWEsVUFBVSxRQUFTLE9BQU0sSUFBSSxJQUFJO0FBQUEsSUFDOUQsU0FBUyxPQUFPO0FBQ2QsVUFBSSxDQUFDLE9BQVEsT0FBTTtBQUFBLElBQ3JCO0FBQUEsRUFDRjtBQUNBLE1BQUksT0FBUSxPQUFNLFdBQVcsSUFBSSxLQUFLLFVBQVUsU0FBUyxLQUFLLE9BQU8sSUFBSTtBQUV6RSxTQUFPLEtBQUssVUFBVSxTQUFTLE9BQU8sS0FBSztBQUM3QztBQWFBLElBQU0sYUFBYTtBQUduQixlQUFzQixVQUFVLE1BQWlCLE1BQThCO0FBQzdFLFFBQU0sUUFBUSxDQUFDLEdBQUcsS0FBSyxTQUFTLFdBQVc7QUFDM0MsUUFBTSxTQUFTLEtBQUssT0FBTyxTQUFZLFNBQVksTUFBTSxZQUFZLFlBQVksTUFBTSxLQUFLLEVBQUUsR0FBRyxLQUFLO0FBQ3RHLFFBQU0sUUFBUSxvQkFBSSxJQUFzQjtBQUN4QyxRQUFNLFFBQW9CLENBQUM7QUFDM0IsTUFBSSxPQUFPO0FBQ1gsU0FBTztBQUFBLElBQ0wsTUFBTSxJQUFJLFFBQVEsT0FBTztBQUN2QixZQUFNLElBQUksUUFBUSxLQUFLO0FBQ3ZCLGVBQVMsT0FBTyxNQUFNLElBQUksSUFBSSxHQUFHLE1BQU0sT0FBTyxNQUFNLElBQUksSUFBSSxHQUFHO0FBQzdELGNBQU0sT0FBTyxJQUFJO0FBQ2pCLGdCQUFRO0FBQ1IsWUFBSSxLQUFLLE9BQU8sVUFBYSxNQUFNLFNBQVMsV0FBWSxPQUFNLEtBQUssSUFBSTtBQUN2RSxjQUFNLFFBQVEsSUFBSSxJQUFJO0FBQUEsTUFDeEI7QUFBQSxJQUNGO0FBQUEsSUFDQSxNQUFNLFNBQVM7QUFFYixpQkFBVyxDQUFDLEVBQUUsSUFBSSxLQUFLLENBQUMsR0FBRyxLQUFLLEVBQUUsS0FBSyxDQUFDLENBQUMsQ0FBQyxHQUFHLENBQUMsQ0FBQyxNQUFNLElBQUksQ0FBQyxHQUFHO0FBQzNELGdCQUFRO0FBQ1IsWUFBSSxLQUFLLE9BQU8sVUFBYSxNQUFNLFNBQVMsV0FBWSxPQUFNLEtBQUssSUFBSTtBQUN2RSxjQUFNLFFBQVEsSUFBSSxJQUFJO0FBQUEsTUFDeEI7QUFDQSxZQUFNLFFBQVEsT0FBTztBQUNyQixhQUFPLEVBQUUsT0FBTyxPQUFPLEdBQUcsTUFBTTtBQUFBLElBQ2xDO0FBQUEsSUFDQSxTQUFTLFlBQVksUUFBUSxRQUFRO0FBQUEsRUFDdkM7QUFDRjtBQUdBLGVBQXNCLFlBQ3BCLE1BQ0EsT0FDQSxPQUNBLEtBQ3FCO0FBQ3JCLFFBQU0sRUFBRSxPQUFPLE1BQU0sSUFBSSxNQUFNLE1BQU0sT0FBTztBQUM1QyxRQUFNLEVBQUUsU0FBUyxJQUFJLEtBQUssSUFBSTtBQUM5QixTQUFPLEVBQUUsT0FBTyxTQUFTLE9BQU8sS0FBSyxTQUFTLE9BQU8sT0FBTyxJQUFJLEtBQUs7QUFDdkU7OztBQy9JQSxlQUFzQixZQUFZLE9BQW9CLE9BQWUsTUFBc0M7QUFDekcsUUFBTSxPQUFPLENBQUMsR0FBRyxLQUFLLE1BQU0sVUFBVTtBQUN0QyxRQUFNLFFBQVEsS0FBSyxLQUFLLFNBQVMsSUFBSTtBQUNyQyxNQUFJLE9BQU8sVUFBVSxZQUFZLE1BQU0sUUFBUSxLQUFLLEdBQUc7QUFDckQsVUFBTSxPQUFPLFlBQVksT0FBZ0IsQ0FBQyxVQUFVLEtBQUssS0FBSyxTQUFTLENBQUMsR0FBRyxNQUFNLEdBQUcsS0FBSyxDQUFDLEdBQUcsS0FBSyxLQUFLO0FBQ3ZHLFdBQU87QUFBQSxNQUNMLFNBQVM7QUFBQSxNQUNULE9BQU8sS0FBSyxFQUFFLFdBQVcsTUFBTSxHQUFHO0FBQ2hDLGNBQU0sUUFBUSxVQUFVLE1BQU0sZUFBZSxXQUFXLEtBQUssR0FBRyxRQUFRLEtBQUssRUFBRTtBQUMvRSxtQkFBVyxTQUFTLE9BQU8sT0FBTyxPQUFPLEtBQUssRUFBRyxPQUFNLEVBQUUsT0FBTyxRQUFRLE9BQU8sV0FBVyxLQUFLO0FBQUEsTUFDakc7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNBLE1BQUksV0FBVyxPQUFPO0FBQ3BCLFVBQU0sQ0FBQyxNQUFNLEVBQUUsSUFBSSxNQUFNO0FBQ3pCLFdBQU87QUFBQSxNQUNMLFNBQVM7QUFBQSxNQUNULE9BQU8sT0FBTztBQUNaLGNBQU0sT0FBTyxRQUFRLEtBQUssSUFBSTtBQUM5QixpQkFBUyxRQUFRLE1BQU0sT0FBTyxJQUFJLFNBQVMsS0FBSyxTQUFTLElBQUksU0FBUyxLQUFNLE9BQU0sRUFBRSxPQUFPLFFBQVEsTUFBTTtBQUFBLE1BQzNHO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFDQSxNQUFJLFVBQVUsT0FBTztBQUNuQixjQUFVLEtBQUssV0FBVyxNQUFNLE1BQU0sTUFBTSxLQUFLLE9BQU8sS0FBSyxLQUFLLFNBQVMsQ0FBQyxHQUFHLE1BQU0sTUFBTSxDQUFDLENBQUM7QUFDN0YsV0FBTztBQUFBLE1BQ0wsU0FBUztBQUFBLE1BQ1QsT0FBTyxLQUFLLEVBQUUsVUFBVSxHQUFHO0FBQ3pCLHlCQUFpQixTQUFTLFNBQVMsVUFBVSxXQUFXLE1BQU0sTUFBTSxJQUFJLEVBQUcsT0FBTSxFQUFFLE9BQU8sUUFBUSxNQUFNO0FBQUEsTUFDMUc7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNBLFFBQU0sV0FBVyxNQUFNLEtBQUssUUFBUSxNQUFNLE9BQU8sVUFBVTtBQUMzRCxNQUFJLENBQUMsU0FBUyxPQUFPO0FBQ25CLFVBQU0sSUFBSSxRQUFRLGNBQWM7QUFBQSxNQUM5QixNQUFNLGVBQWUsU0FBUyxLQUFLLElBQUk7QUFBQSxNQUN2QztBQUFBLE1BQ0EsUUFBUTtBQUFBLElBQ1YsQ0FBQztBQUFBLEVBQ0g7QUFDQSxRQUFNLFFBQVEsVUFBVSxNQUFNLE1BQU0sTUFBTSxDQUFDLEdBQUcsTUFBTSxNQUFNLENBQUM7QUFDM0QsU0FBTztBQUFBLElBQ0wsU0FBUztBQUFBLElBQ1QsT0FBTyxLQUFLLE1BQU0sTUFBTTtBQUN0QixZQUFNLEVBQUUsV0FBVyxPQUFPLFFBQVEsSUFBSSxJQUFJO0FBQzFDLFlBQU0sVUFBVTtBQUFBLFFBQ2QsT0FBTyxNQUFNLE9BQU8sV0FBVyxPQUFPLEtBQUs7QUFBQSxRQUMzQyxRQUFRLGVBQWUsV0FBVyxLQUFLLEVBQUU7QUFBQSxRQUN6QztBQUFBLFFBQ0EsTUFBTTtBQUFBLFFBQ047QUFBQSxNQUNGO0FBQ0EsdUJBQWlCLEVBQUUsTUFBTSxPQUFPLE1BQU0sS0FBSyxRQUFRLFdBQVcsVUFBVSxPQUFPLEdBQUc7QUFDaEYsYUFBSyxPQUFPO0FBQ1osYUFBSyxRQUFRO0FBQ2IsWUFBSSxLQUFLLFNBQVMsU0FBUyxHQUFHO0FBQzVCLGdCQUFNLE1BQU0sS0FBSyxTQUFTLE9BQU8sTUFBTTtBQUN2QyxnQkFBTSxJQUFJLFFBQVEsSUFBSSxNQUFNO0FBQUEsWUFDMUIsTUFBTSxHQUFHLElBQUksSUFBSSxjQUFjLE1BQU0sS0FBSyxHQUFHLE1BQU0sVUFBVSxTQUFZLEtBQUssT0FBTyxNQUFNLEtBQUssRUFBRTtBQUFBLFlBQ2xHLE9BQU8sSUFBSTtBQUFBLFlBQ1gsUUFBUSxJQUFJO0FBQUEsVUFDZCxDQUFDO0FBQUEsUUFDSDtBQUNBLG1CQUFXLFNBQVMsTUFBTyxPQUFNLEVBQUUsT0FBTyxRQUFRLE1BQU07QUFBQSxNQUMxRDtBQUFBLElBQ0Y7QUFBQSxFQUNGO0FBQ0Y7QUFHQSxTQUFTLE9BQU8sT0FBMEIsT0FBaUM7QUFDekUsTUFBSSxNQUFNLFFBQVEsS0FBSyxFQUFHLFFBQU87QUFDakMsTUFBSSxXQUFXLEtBQUssRUFBRyxRQUFPLE9BQU8sUUFBUSxLQUFLLEVBQUUsSUFBSSxDQUFDLENBQUMsS0FBSyxLQUFLLE9BQU8sRUFBRSxLQUFLLE9BQU8sTUFBZSxFQUFFO0FBQzFHLFFBQU0sSUFBSSxRQUFRLGNBQWM7QUFBQSxJQUM5QixNQUFNLEdBQUcsS0FBSztBQUFBLElBQ2QsT0FBTyxVQUFVLFNBQVkseUJBQXlCO0FBQUEsSUFDdEQsUUFBUTtBQUFBLEVBQ1YsQ0FBQztBQUNIOzs7QUNsRk8sSUFBTSxVQUFxQztBQUFBLEVBQ2hELE1BQU07QUFBQSxFQUNOLE1BQU0sQ0FBQyxTQUFrQyxjQUFjO0FBQUEsRUFDdkQsTUFBTSxLQUFLLE1BQU0sTUFBTTtBQUNyQixVQUFNLEVBQUUsTUFBTSxNQUFNLE1BQU0sSUFBSTtBQUM5QixVQUFNLE9BQU8sS0FBSyxNQUFNO0FBQ3hCLFVBQU0sUUFBUSxLQUFLLFFBQVEsWUFBWSxJQUFJO0FBQzNDLFVBQU0sVUFBVSxNQUFNLFlBQVksS0FBSyxVQUFVLEdBQUcsT0FBTyxJQUFJO0FBQy9ELFVBQU0sUUFBUSxNQUFNLEtBQUssTUFBTSxLQUFLLE9BQU8sQ0FBQyxHQUFHLE1BQU0sT0FBTyxDQUFDO0FBQzdELFVBQU0sUUFBUSxLQUFLLFNBQVMsVUFBVSxLQUFLLE9BQU8sTUFBTSxDQUFDLEdBQUcsTUFBTSxPQUFPLEdBQUcsS0FBSztBQUNqRixVQUFNLFdBQVcsS0FBSyxTQUFTLE1BQU0sU0FBWSxTQUFZLFFBQVEsS0FBSyxTQUFTLENBQUM7QUFDcEYsVUFBTSxTQUFTLEtBQUssU0FBUyxLQUFLO0FBRWxDLGFBQVMsUUFBUSxNQUE0QztBQUMzRCxVQUFJO0FBQ0YsZUFBTyxVQUFVLE1BQU0sS0FBSztBQUFBLE1BQzlCLFNBQVMsT0FBTztBQUNkLGNBQU0sVUFBVSxLQUFLLEVBQUUsR0FBRyxLQUFLLFNBQVMsQ0FBQyxHQUFHLE1BQU0sU0FBUyxDQUFDLENBQUM7QUFBQSxNQUMvRDtBQUFBLElBQ0Y7QUFFQSxXQUFPO0FBQUEsTUFDTCxNQUFNO0FBQUEsTUFDTjtBQUFBLE1BQ0EsU0FBUyxNQUFNLE9BQU8sQ0FBQyxLQUFLLEVBQUUsUUFBUSxNQUFNLE1BQU0sU0FBUyxDQUFDO0FBQUEsTUFDNUQsVUFBVSxDQUFDLEdBQUksUUFBUSxVQUFVLENBQUMsUUFBUSxPQUFPLElBQUksQ0FBQyxHQUFJLEdBQUcsTUFBTSxRQUFRLENBQUMsRUFBRSxTQUFTLE1BQU0sUUFBUSxDQUFDO0FBQUEsTUFDdEcsT0FBTyxNQUFNLFFBQVEsQ0FBQyxFQUFFLE1BQU0sTUFBTSxTQUFTLENBQUMsQ0FBQztBQUFBLE1BQy9DLFNBQVM7QUFBQSxRQUNQLEdBQUcsVUFBVSxLQUFLLFVBQVUsR0FBRyxNQUFNLENBQUMsR0FBRyxNQUFNLFVBQVUsQ0FBQztBQUFBLFFBQzFELEdBQUcsTUFBTSxRQUFRLENBQUMsRUFBRSxNQUFNLFFBQVEsTUFBTyxPQUFPLENBQUMsSUFBSSxPQUFRO0FBQUEsTUFDL0Q7QUFBQSxNQUNBLE1BQU0sS0FBSyxNQUFNLElBQXlCO0FBQ3hDLGNBQU0sT0FBa0IsQ0FBQztBQUN6QixjQUFNLFNBQWlCLEVBQUUsSUFBSSxHQUFHLFFBQVEsR0FBRyxRQUFRLEdBQUcsU0FBUyxPQUFVO0FBQ3pFLGNBQU0sUUFBUSxHQUFHLEtBQUssT0FBTyxFQUFFLElBQUksS0FBSztBQUN4QyxjQUFNLFVBQVUsWUFBWSxVQUFVLE1BQU0sS0FBSztBQUVqRCxjQUFNLFFBQVEsS0FBSyxVQUFVLFNBQVMsU0FBWTtBQUNsRCxjQUFNLE9BQU8sU0FBVSxNQUFNLFVBQVUsT0FBTyxLQUFLLFVBQVUsV0FBVyxJQUFJO0FBQzVFLGNBQU0sT0FBTyxPQUFPLEVBQUUsUUFBUSxPQUFPLE9BQU8sTUFBNkI7QUFDdkUsZ0JBQU0sTUFBTSxZQUFZLE1BQU0sU0FBUyxLQUFLLFNBQVMsS0FBSyxDQUFDLEdBQUcsU0FBUyxJQUFJO0FBQzNFLGNBQUksUUFBUSxVQUFhLFNBQVMsSUFBSSxHQUFHLEdBQUc7QUFDMUMsbUJBQU8sVUFBVTtBQUNqQjtBQUFBLFVBQ0Y7QUFDQSxnQkFBTSxRQUFRLElBQUk7QUFBQSxZQUNoQixvQkFBSSxJQUFJLENBQUMsQ0FBQyxNQUFNLEVBQUUsT0FBTyxRQUFRLFFBQVEsR0FBRyxLQUFLLElBQUksTUFBTSxHQUFHLENBQUMsQ0FBQyxDQUFDO0FBQUEsWUFDakU7QUFBQSxZQUNBLEtBQUs7QUFBQSxVQUNQO0FBQ0EsZ0JBQU0sUUFBUTtBQUFBLFlBQ1osR0FBRztBQUFBLFlBQ0gsSUFBSSxHQUFHLEVBQUUsSUFBSSxNQUFNO0FBQUEsWUFDbkI7QUFBQSxZQUNBLE9BQU8sS0FBSyxRQUFRO0FBQUEsWUFDcEIsUUFBUSxHQUFHLElBQUksSUFBSSxNQUFNO0FBQUEsWUFDekIsT0FBTztBQUFBLFlBQ1AsTUFBTSxFQUFFLE9BQU8sQ0FBQyxFQUFFO0FBQUEsVUFDcEI7QUFDQSxnQkFBTSxFQUFFLFNBQVMsTUFBTSxJQUFJLE1BQU0sU0FBUyxPQUFPLE9BQU8sS0FBSztBQUM3RCxjQUFJLFNBQVMsS0FBTSxPQUFNLEtBQUssSUFBSSxRQUFRLEtBQUs7QUFDL0MsaUJBQU8sVUFBVSxXQUFXLElBQUksS0FBSztBQUNyQyxjQUFJLFFBQVMsUUFBTyxVQUFVLE9BQU8sT0FBTyxTQUFTLE9BQU87QUFBQSxtQkFDbkQsUUFBUSxVQUFhLENBQUMsS0FBSyxPQUFPLFNBQVM7QUFDbEQscUJBQVMsSUFBSSxHQUFHO0FBQ2hCLGlCQUFLLFNBQVMsUUFBUSxPQUFPLEdBQUc7QUFBQSxVQUNsQztBQUFBLFFBQ0Y7QUFDQSxZQUFJO0FBQ0osWUFBSTtBQUNGLGtCQUFRLE1BQU0sV0FBV0MsVUFBUyxRQUFRLEtBQUssTUFBTSxJQUFJLENBQUMsR0FBRyxRQUFRLE1BQU0sS0FBSyxNQUFNO0FBQUEsUUFDeEYsU0FBUyxPQUFPO0FBQ2QsZ0JBQU0sTUFBTSxRQUFRO0FBQ3BCLGdCQUFNO0FBQUEsUUFDUjtBQUNBLFlBQUk7QUFDSixZQUFJLEtBQUssT0FBTyxRQUFTLE9BQU0sTUFBTSxRQUFRO0FBQUEsaUJBQ3BDLFNBQVMsS0FBTSxXQUFVLE1BQU0sT0FBTyxPQUFPLE1BQU0sT0FBTyxJQUFJO0FBQ3ZFLGNBQU0sT0FBTyxPQUFPLFFBQVEsTUFBTSxLQUFLLE9BQU8sVUFBVSxTQUFZLE9BQU8sS0FBSztBQUNoRixlQUFPLFVBQVUsRUFBRSxHQUFHLE1BQU0sT0FBTyxRQUFRLElBQUk7QUFBQSxNQUNqRDtBQUFBLElBQ0Y7QUFBQSxFQUNGO0FBQ0Y7QUFRQSxnQkFBZ0JBLFVBQ2QsU0FDd0I7QUFDeEIsTUFBSSxTQUFTO0FBQ2IsbUJBQWlCLEVBQUUsT0FBTyxPQUFPLEtBQUssU0FBUztBQUM3QyxjQUFVO0FBQ1YsVUFBTSxFQUFFLFFBQVEsT0FBTyxPQUFPO0FBQUEsRUFDaEM7QUFDRjtBQUdBLGVBQWUsU0FDYixPQUNBLE1BQ0EsT0FDMEY7QUFDMUYsUUFBTSxVQUFVLE1BQU0sS0FBSyxNQUFNLE9BQU8sSUFBSTtBQUM1QyxTQUFPLFFBQVEsT0FBTyxPQUFPLE1BQU0sT0FBTyxJQUFJLEVBQUUsU0FBUyxPQUFPLE9BQVU7QUFDNUU7QUFHQSxlQUFlLE9BQU8sTUFBaUIsT0FBYyxPQUFlLE1BQWlDO0FBQ25HLFFBQU0sUUFBUSxNQUFNLFlBQVksTUFBTSxPQUFPLE9BQU8sS0FBSyxHQUFHO0FBQzVELE1BQUksS0FBSyxPQUFPLE9BQVcsTUFBSyxNQUFNLElBQUksS0FBSyxJQUFJLEVBQUUsT0FBTyxNQUFNLE9BQU8sUUFBUSxpQkFBaUIsS0FBSyxHQUFHLENBQUM7QUFDM0csU0FBTztBQUNUO0FBRUEsU0FBUyxPQUNQLEVBQUUsSUFBSSxRQUFRLFFBQVEsUUFBUSxHQUM5QixFQUFFLE1BQU0sTUFBTSxHQUNkLE9BQ0EsT0FDWTtBQUNaLFFBQU0sV0FBc0IsQ0FBQztBQUM3QixNQUFJLE1BQU8sVUFBUyxLQUFLLEtBQUs7QUFDOUIsTUFBSSxTQUFTLEtBQUssU0FBUztBQUN6QixhQUFTLEtBQUssSUFBSSxRQUFRLFFBQVEsTUFBTSxFQUFFLE1BQU0sR0FBRyxNQUFNLE9BQU8sS0FBSyxNQUFNLFdBQVcsT0FBTyxRQUFRLEtBQUssQ0FBQyxDQUFDO0FBQUEsRUFDOUc7QUFDQSxTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0EsTUFBTSxPQUFPLE9BQU8sU0FBWSxDQUFDLElBQUksQ0FBQyxNQUFNLEVBQUU7QUFBQSxJQUM5QztBQUFBLElBQ0EsTUFBTSxFQUFFLFNBQVMsRUFBRSxJQUFJLFFBQVEsT0FBTyxHQUFHLE1BQU07QUFBQSxFQUNqRDtBQUNGO0FBRUEsU0FBUyxVQUFVLEVBQUUsUUFBUSxHQUFTLE9BQTRCO0FBQ2hFLE1BQUksT0FBTyxRQUFRLElBQUksS0FBSztBQUM1QixNQUFJLENBQUMsTUFBTTtBQUNULFdBQU8sb0JBQUksSUFBSTtBQUNmLFlBQVEsSUFBSSxPQUFPLElBQUk7QUFBQSxFQUN6QjtBQUNBLFNBQU87QUFDVDtBQUVBLFNBQVMsTUFBTSxPQUEwQixPQUF1QjtBQUM5RCxNQUFJLFVBQVUsT0FBVyxRQUFPLE9BQU8sS0FBSztBQUM1QyxRQUFNLElBQUksUUFBUSxtQkFBbUI7QUFBQSxJQUNuQyxNQUFNLDBCQUEwQixLQUFLO0FBQUEsSUFDckMsUUFBUTtBQUFBLEVBQ1YsQ0FBQztBQUNIOzs7QUN6S0EsSUFBTSxTQUFTLENBQUMsUUFBUSxTQUFTLFlBQVksUUFBUSxVQUFVLFNBQVM7QUFFakUsSUFBTSxPQUErQjtBQUFBLEVBQzFDLE1BQU07QUFBQSxFQUNOLE1BQU0sQ0FBQyxTQUErQixVQUFVLFFBQVEsQ0FBQyxPQUFPLEtBQUssQ0FBQyxRQUFRLE9BQU8sSUFBSTtBQUFBLEVBQ3pGLE1BQU0sS0FBSyxNQUFNLE1BQU07QUFDckIsVUFBTSxTQUFTLFVBQVUsS0FBSyxNQUFNLE1BQU0sQ0FBQyxHQUFHLEtBQUssTUFBTSxNQUFNLENBQUM7QUFDaEUsVUFBTSxRQUFRLEtBQUssUUFBUSxRQUFRLENBQUMsR0FBRyxPQUFPLEtBQUssQ0FBQyxFQUFFLEtBQUssSUFBSSxDQUFDO0FBQ2hFLFdBQU87QUFBQSxNQUNMLE1BQU07QUFBQSxNQUNOO0FBQUEsTUFDQSxTQUFTO0FBQUEsTUFDVCxVQUFVLENBQUM7QUFBQSxNQUNYLFNBQVMsVUFBVSxLQUFLLE1BQU0sS0FBSyxNQUFNLENBQUMsR0FBRyxLQUFLLE1BQU0sTUFBTSxDQUFDO0FBQUEsTUFDL0QsTUFBTSxLQUFLLEVBQUUsV0FBVyxNQUFNLEdBQUc7QUFDL0IsbUJBQVcsQ0FBQyxNQUFNLElBQUksS0FBSyxRQUFRO0FBRWpDLGdCQUFNLFFBQVEsVUFBVSxNQUFNLGVBQWUsV0FBVyxLQUFLLEdBQUcsZ0JBQWdCLEtBQUssRUFBRTtBQUN2RixjQUFJLE1BQU8sT0FBTSxJQUFJLE1BQU0sS0FBSztBQUFBLFFBQ2xDO0FBQ0EsZUFBTyxFQUFFLE1BQU0sUUFBVyxNQUFNLENBQUMsR0FBRyxPQUFPLEtBQUssQ0FBQyxHQUFHLFVBQVUsQ0FBQyxFQUFFO0FBQUEsTUFDbkU7QUFBQTtBQUFBLE1BRUEsU0FBUyxNQUFNO0FBQUEsSUFDakI7QUFBQSxFQUNGO0FBQ0Y7OztBQ1hBLGVBQXNCLFNBQ3BCLE1BQ0EsU0FDQSxLQUNBLE1BQ21CO0FBQ25CLFFBQU0sRUFBRSxNQUFNLE1BQU0sT0FBTyxVQUFVLElBQUk7QUFDekMsUUFBTSxXQUFXLE1BQU0sS0FBSyxRQUFRLFNBQVMsR0FBRztBQUNoRCxRQUFNLEVBQUUsTUFBTSxTQUFTLFVBQVUsTUFBTSxJQUFJLFNBQVM7QUFDcEQsUUFBTSxRQUFRLEtBQUssUUFBUTtBQUMzQixRQUFNLFFBQWUsVUFBVSxLQUFLLE1BQU0sTUFBTSxDQUFDLEdBQUcsTUFBTSxNQUFNLENBQUM7QUFDakUsUUFBTSxRQUF5QixhQUFhLEtBQUssTUFBTSxNQUFNLENBQUMsR0FBRyxNQUFNLE1BQU0sR0FBRyxPQUFPLFFBQVEsVUFBVTtBQUN6RyxRQUFNLFdBQVcsS0FBSyxZQUFZLFNBQVksU0FBWSxLQUFLLFlBQVksU0FBUyxDQUFDLElBQUksQ0FBQyxLQUFLLE9BQU8sRUFBRSxLQUFLO0FBQzdHLFFBQU0sTUFBTSxVQUFVLFdBQVcsS0FBSyxXQUFXLElBQUk7QUFDckQsU0FBTztBQUFBLElBQ0w7QUFBQSxJQUNBO0FBQUEsSUFDQSxTQUFTO0FBQUEsTUFDUCxHQUFHLFVBQVUsS0FBSyxNQUFNLE1BQU0sQ0FBQyxHQUFHLE1BQU0sTUFBTSxDQUFDO0FBQUEsTUFDL0MsR0FBRyxVQUFVLFdBQVcsS0FBSyxZQUFZLE9BQU8sU0FBUyxRQUFRLElBQUk7QUFBQSxJQUN2RTtBQUFBO0FBQUEsSUFFQSxTQUFTLENBQUMsRUFBRSxXQUFXLElBQUksT0FBTyxRQUFRLEtBQUssV0FBVyxHQUFHQyxVQUFTO0FBQUEsTUFDcEUsT0FBTyxNQUFNLE9BQU8sSUFBSSxPQUFPLEtBQUs7QUFBQTtBQUFBLE1BRXBDLFFBQVEsT0FBTyxNQUFNLGVBQWUsSUFBSSxLQUFLLEVBQUUsS0FBSztBQUFBLE1BQ3BELFVBQVUsZUFBZSxTQUFZLFdBQVcsQ0FBQztBQUFBLE1BQ2pELFdBQVcsZUFBZSxTQUFZLFNBQVksQ0FBQyxVQUFVO0FBQUEsTUFDN0Q7QUFBQSxNQUNBO0FBQUEsTUFDQSxNQUFNO0FBQUEsTUFDTjtBQUFBLE1BQ0EsY0FBY0EsTUFBSyxnQkFBZ0IsQ0FBQztBQUFBLE1BQ3BDLGdCQUFnQkEsTUFBSztBQUFBLE1BQ3JCLFdBQVdBLE1BQUs7QUFBQSxJQUNsQjtBQUFBLElBQ0EsS0FBSyxFQUFFLE1BQU0sR0FBRyxNQUFNO0FBQ3BCLGlCQUFXLEVBQUUsTUFBTSxJQUFJLE9BQU8sUUFBUSxNQUFNLEtBQUs7QUFDL0MsY0FBTSxJQUFJLElBQUksRUFBRSxPQUFPLFFBQVEsUUFBUSxnQkFBZ0IsS0FBSyxTQUFTLEtBQUssR0FBRyxDQUFDO0FBQ2hGLGFBQU8sS0FBSyxJQUFJLENBQUMsUUFBUSxJQUFJLElBQUk7QUFBQSxJQUNuQztBQUFBLEVBQ0Y7QUFDRjs7O0FDL0NBLElBQU0sZUFBZTtBQUVkLElBQU0sT0FBK0I7QUFBQSxFQUMxQyxNQUFNO0FBQUEsRUFDTixNQUFNLENBQUMsU0FBK0IsVUFBVTtBQUFBLEVBQ2hELE1BQU0sS0FBSyxNQUFNLE1BQU07QUFDckIsVUFBTSxFQUFFLE1BQU0sTUFBTSxPQUFPLFVBQVUsSUFBSTtBQUN6QyxVQUFNLE9BQU8sTUFBTSxTQUFTLE1BQU0sS0FBSyxNQUFNLFFBQVEsSUFBSTtBQUN6RCxVQUFNLEVBQUUsVUFBVSxNQUFNLElBQUk7QUFDNUIscUJBQWlCLFVBQVUsUUFBUSxJQUFJO0FBQ3ZDLFVBQU0sRUFBRSxXQUFXLElBQUksU0FBUyxLQUFLO0FBQ3JDLFVBQU0sV0FBVyxDQUFDLFFBQ2hCLG9CQUFvQixLQUFLLEdBQUcsR0FBRyxNQUFNLENBQUMsR0FBRyxNQUFNLEdBQUcsR0FBRyxVQUFVLFVBQVUsT0FBTyxVQUFVO0FBQzVGLFVBQU0sQ0FBQyxPQUFPLE1BQU0sSUFBSSxDQUFDLFNBQVMsT0FBTyxHQUFHLFNBQVMsUUFBUSxDQUFDO0FBQzlELFVBQU0sUUFBUSxjQUFjLEtBQUssU0FBUyxJQUFJO0FBQzlDLFVBQU0sU0FBUyxjQUFjLEtBQUssVUFBVSxLQUFLO0FBQ2pELFVBQU0sU0FBUyxLQUFLLFVBQVU7QUFFOUIsV0FBTztBQUFBLE1BQ0wsTUFBTTtBQUFBLE1BQ047QUFBQSxNQUNBLFNBQVM7QUFBQSxNQUNULFVBQVUsQ0FBQyxRQUFRO0FBQUEsTUFDbkIsU0FBUyxLQUFLO0FBQUEsTUFDZCxNQUFNLEtBQUssTUFBTTtBQUNmLGNBQU0sVUFBVSxZQUFZLElBQUk7QUFDaEMsY0FBTSxPQUFpQixDQUFDO0FBQ3hCLFlBQUksT0FBTztBQUNYLGlCQUFTLFFBQVEsS0FBSyxTQUFTLEdBQUc7QUFDaEMsZ0JBQU0sVUFBVSxLQUFLLFFBQVEsSUFBSTtBQUNqQyxnQkFBTSxPQUFPLE1BQU0sWUFBWSxLQUFLLFdBQVcsVUFBVSxFQUFFLEdBQUcsU0FBUyxjQUFjLE1BQU0sQ0FBQztBQUM1RixnQkFBTSxFQUFFLFNBQVMsSUFBSSxLQUFLO0FBQzFCLGNBQUksU0FBVSxNQUFLLE1BQU0sT0FBTyxRQUFRO0FBQ3hDLGdCQUFNLE9BQU8sRUFBRSxNQUFNLEVBQUUsT0FBTyxRQUFRLEtBQUssRUFBRTtBQUM3QyxjQUFJLEtBQUssU0FBUyxXQUFXLEVBQUcsUUFBTyxFQUFFLE1BQU0sTUFBTSxLQUFLLEtBQUssTUFBTSxLQUFLLElBQUksR0FBRyxVQUFVLENBQUMsR0FBRyxLQUFLO0FBQ3BHLGNBQUksS0FBSyxPQUFPLFFBQVMsUUFBTyxFQUFFLE1BQU0sTUFBTSxDQUFDLEdBQUcsVUFBVSxLQUFLLFVBQVUsS0FBSztBQUNoRixnQkFBTSxRQUFRLFlBQWEsTUFBTSxRQUFRLFFBQVEsVUFBVSxNQUFNLFFBQVEsTUFBTTtBQUMvRSxjQUFJLE1BQU8sUUFBTyxFQUFFLE1BQU0sTUFBTSxDQUFDLEdBQUcsVUFBVSxDQUFDLFNBQVMsUUFBUSxRQUFRLENBQUMsR0FBRyxLQUFLO0FBQ2pGLGdCQUFNLFVBQVUsWUFBWSxJQUFJLElBQUk7QUFDcEMsY0FBSSxVQUFVLE9BQU87QUFDbkIsbUJBQU8sRUFBRSxNQUFNLE1BQU0sQ0FBQyxHQUFHLFVBQVUsQ0FBQyxLQUFLLE1BQU0sT0FBTyxPQUFPLEdBQUcsR0FBRyxLQUFLLFFBQVEsR0FBRyxLQUFLO0FBQzFGLGdCQUFNLE1BQU0sTUFBTSxLQUFLLE1BQU07QUFDN0IsaUJBQU8sS0FBSyxJQUFJLEtBQUssSUFBSSxjQUFjLEtBQUssR0FBRyxPQUFPLE1BQU07QUFBQSxRQUM5RDtBQUFBLE1BQ0Y7QUFBQSxNQUNBLFNBQVMsTUFBTTtBQUFBLElBQ2pCO0FBQUEsRUFDRjtBQUNGO0FBR0EsU0FBUyxLQUFLLE1BQWdCLE9BQStCLFVBQTBCO0FBQ3JGLFFBQU0sU0FBUyxNQUFNLElBQUksQ0FBQyxFQUFFLE1BQU0sTUFBTTtBQUN0QyxRQUFJO0FBQ0YsYUFBTyxVQUFVLE1BQU0sS0FBSyxRQUFRLENBQUM7QUFBQSxJQUN2QyxRQUFRO0FBQ04sYUFBTztBQUFBLElBQ1Q7QUFBQSxFQUNGLENBQUM7QUFDRCxRQUFNLE9BQU8sT0FBTyxLQUFLLElBQUk7QUFDN0IsTUFBSSxLQUFLLEdBQUcsRUFBRSxNQUFNLEtBQU0sTUFBSyxLQUFLLElBQUk7QUFDMUM7QUFFQSxlQUFlLFFBQ2IsUUFDQSxVQUNBLEVBQUUsVUFBVSxHQUNaLE9BQ2tCO0FBQ2xCLE1BQUksT0FBTyxXQUFXLEVBQUcsUUFBTztBQUNoQyxRQUFNLGVBQWUsRUFBRSxPQUFPLFVBQVUsTUFBTSxHQUFHLFVBQVUsVUFBVSxTQUFTLElBQUk7QUFDbEYsUUFBTSxXQUFXLE1BQU0sTUFBTSxRQUFRLFVBQVUsSUFBSSxXQUFXLE9BQU8sWUFBWSxHQUFHLEVBQUUsWUFBWSxNQUFNLE9BQVUsQ0FBQztBQUNuSCxTQUFPLFNBQVMsTUFBTSxDQUFDLEVBQUUsR0FBRyxNQUFNLEVBQUU7QUFDdEM7QUFFQSxTQUFTLFNBQVMsUUFBZ0MsVUFBNkI7QUFDN0UsUUFBTSxRQUFRLE9BQU8sSUFBSSxDQUFDLEVBQUUsTUFBTSxNQUFNLEdBQUcsTUFBTSxJQUFJLE9BQU8sVUFBVSxNQUFNLEtBQUssUUFBUSxDQUFDLENBQUMsRUFBRTtBQUM3RixTQUFPLElBQUksUUFBUSxlQUFlLEVBQUUsTUFBTSxxQkFBcUIsTUFBTSxLQUFLLElBQUksQ0FBQyxHQUFHLENBQUM7QUFDckY7QUFFQSxJQUFNLE9BQU8sQ0FBQyxFQUFFLFNBQVMsRUFBRSxTQUFTLEVBQUUsR0FBUyxPQUFlLFlBQzVELElBQUksUUFBUSxlQUFlO0FBQUEsRUFDekIsTUFBTSx3QkFBd0IsYUFBYSxPQUFPLENBQUMsV0FBVyxLQUFLLElBQUksVUFBVSxJQUFJLFNBQVMsT0FBTztBQUFBLEVBQ3JHLFFBQVEsV0FBVyxrQ0FBa0M7QUFDdkQsQ0FBQzs7O0FDNUZILGVBQXNCLFNBQ3BCLE1BQ0EsTUFDQSxNQUMyQztBQUMzQyxRQUFNLFdBQVcsTUFBTSxLQUFLLFFBQVEsS0FBSyxNQUFNLE1BQU07QUFDckQsUUFBTSxFQUFFLE1BQU0sUUFBUSxJQUFJLFNBQVM7QUFDbkMsUUFBTSxRQUFRLFVBQVUsS0FBSyxNQUFNLE1BQU0sQ0FBQyxHQUFHLEtBQUssTUFBTSxRQUFRLE1BQU0sQ0FBQztBQUN2RSxRQUFNLFNBQVMsU0FBUyxLQUFLLE9BQU8sSUFBSSxDQUFDLEVBQUUsS0FBSyxNQUFNLElBQUk7QUFDMUQsU0FBTyxDQUFDLE1BQU0sT0FBTztBQUNuQixVQUFNLEVBQUUsV0FBVyxLQUFLLFFBQVEsSUFBSTtBQUNwQyxRQUFJLFNBQVMsYUFBYSxFQUFFLEVBQUc7QUFDL0IsVUFBTSxRQUFRLEtBQUssTUFBTSxTQUFTO0FBQ2xDLFFBQUksV0FBVyxDQUFDLFFBQVEsWUFBWSxFQUFFLEdBQUc7QUFDdkMsWUFBTSxRQUFRLE1BQU0sT0FBTyxXQUFXLE9BQU8sT0FBTztBQUNwRCxZQUFNLFFBQVEsUUFBUSxRQUFRLENBQUMsU0FBUyxRQUFRLE1BQU0sTUFBTSxJQUFJLENBQUMsQ0FBQztBQUNsRSxZQUFNLFFBQVEsUUFBUSxVQUFVLGNBQWMsQ0FBQyxTQUFTLE1BQU0sT0FBTyxJQUFJLENBQUM7QUFDMUUsY0FBUSxNQUFNLEVBQUUsSUFBSSxNQUFNLFNBQVMsS0FBSyxPQUFPLE1BQU0sQ0FBQztBQUFBLElBQ3hEO0FBQ0EsU0FBSyxLQUFLLEtBQUs7QUFBQSxNQUNiO0FBQUEsTUFDQTtBQUFBLE1BQ0EsT0FBTztBQUFBLE1BQ1AsTUFBTSxJQUFJLFFBQVE7QUFDaEIsY0FBTSxPQUFPLE1BQU0sWUFBWSxXQUFXLFVBQVU7QUFBQSxVQUNsRCxPQUFPLE1BQU0sT0FBTyxXQUFXLE9BQU8sT0FBTztBQUFBLFVBQzdDLFFBQVEsZUFBZSxXQUFXLEtBQUssRUFBRTtBQUFBLFVBQ3pDO0FBQUEsVUFDQSxNQUFNLFdBQVcsSUFBSTtBQUFBLFVBQ3JCO0FBQUEsUUFDRixDQUFDO0FBQ0QsZUFBTyxFQUFFLE1BQU0sTUFBTSxDQUFDLEdBQUcsVUFBVSxLQUFLLFNBQVM7QUFBQSxNQUNuRDtBQUFBLElBQ0YsQ0FBQztBQUFBLEVBQ0g7QUFDRjtBQUdBLFNBQVMsUUFBVyxNQUE4QjtBQUNoRCxNQUFJO0FBQ0YsV0FBTyxLQUFLO0FBQUEsRUFDZCxRQUFRO0FBQ04sV0FBTztBQUFBLEVBQ1Q7QUFDRjs7O0FDdENPLElBQU0sT0FBK0I7QUFBQSxFQUMxQyxNQUFNO0FBQUEsRUFDTixNQUFNLENBQUMsU0FBK0IsVUFBVTtBQUFBLEVBQ2hELE1BQU0sS0FBSyxNQUFNLE1BQU07QUFDckIsVUFBTSxFQUFFLE1BQU0sTUFBTSxPQUFPLFVBQVUsSUFBSTtBQUN6QyxVQUFNLE9BQU8sTUFBTSxTQUFTLE1BQU0sS0FBSyxNQUFNLFFBQVEsSUFBSTtBQUN6RCxVQUFNLEVBQUUsVUFBVSxNQUFNLElBQUk7QUFDNUIsVUFBTSxFQUFFLFdBQVcsSUFBSSxTQUFTLEtBQUs7QUFDckMsVUFBTSxlQUFlO0FBQUEsTUFDbkIsS0FBSztBQUFBLE1BQ0w7QUFBQSxNQUNBLENBQUMsR0FBRyxNQUFNLFFBQVE7QUFBQSxNQUNsQixVQUFVO0FBQUEsTUFDVjtBQUFBLE1BQ0E7QUFBQSxJQUNGO0FBQ0EsVUFBTSxPQUFPLEtBQUssUUFBUyxNQUFNLFNBQVMsS0FBSyxNQUFNLE9BQU8sSUFBSTtBQUVoRSxXQUFPO0FBQUEsTUFDTCxNQUFNO0FBQUEsTUFDTjtBQUFBLE1BQ0EsU0FBUyxTQUFTLEtBQUssVUFBVSxJQUFJO0FBQUEsTUFDckMsVUFBVSxDQUFDLFFBQVE7QUFBQSxNQUNuQixTQUFTLEtBQUs7QUFBQSxNQUNkLE1BQU0sS0FBSyxNQUFNLElBQUk7QUFDbkIsY0FBTSxTQUFTLEtBQUssU0FBUyxNQUFNLEVBQUU7QUFDckMsY0FBTSxFQUFFLFFBQVEsUUFBUSxJQUFJLFNBQVM7QUFDckMsWUFBSSxRQUFRLFVBQVUsZUFBZSxDQUFDLGFBQWEsRUFBRSxRQUFRLFNBQVMsZ0JBQWdCLE9BQU8sSUFBSSxDQUFDLEdBQUc7QUFFbkcsZUFBSyxNQUFNLE9BQU8sSUFBSTtBQUN0QixnQkFBTSxJQUFJLFFBQVEsWUFBWTtBQUFBLFlBQzVCLE1BQU0sR0FBRyxPQUFPLElBQUk7QUFBQSxZQUNwQixRQUFRO0FBQUEsVUFDVixDQUFDO0FBQUEsUUFDSDtBQUNBLFlBQUksT0FBTztBQUNYLFlBQUk7QUFDRixnQkFBTSxVQUFVLEtBQUssUUFBUSxNQUFNO0FBQUEsWUFDakM7QUFBQSxZQUNBLGdCQUFnQixRQUFRO0FBQUEsWUFDeEIsV0FBVyxDQUFDLEVBQUUsU0FBQUMsVUFBUyxlQUFlLEdBQUcsU0FBUztBQUVoRCxvQkFBTSxRQUFRLENBQUM7QUFDZixxQkFBTztBQUNQLHFCQUFPLFNBQVNBLFdBQVUsS0FBSyxTQUFTLFFBQVEsSUFBSSxLQUFLLEtBQUssS0FBSyxHQUFHLGNBQWMsSUFBSTtBQUFBLFlBQzFGO0FBQUEsVUFDRixDQUFDO0FBQ0QsZ0JBQU0sUUFBUSxTQUFTLFNBQVUsTUFBTSxTQUFTLFVBQVUsU0FBUyxJQUFJO0FBQ3ZFLGdCQUFNLE9BQU8sT0FBTyxRQUFTLE1BQU0sWUFBWSxLQUFLLFdBQVcsVUFBVSxPQUFPO0FBQ2hGLGdCQUFNLFFBQVEsS0FBSyxLQUFLLE1BQU0sT0FBTyxRQUFRLEtBQUssSUFBSTtBQUN0RCxjQUFJLEtBQUssSUFBSTtBQUNYLGlCQUFLLE1BQU0sR0FBRyxLQUFLLEtBQUssTUFBTSxJQUFJLEtBQUssVUFBVSxTQUFTLEtBQUssS0FBSyxLQUFLLFFBQVEsQ0FBQyxVQUFVLEtBQUssSUFBSSxHQUFHO0FBQzFHLGNBQUksUUFBUSxDQUFDLFFBQVEsSUFBSSxFQUFHLE1BQUssTUFBTSxFQUFFO0FBQ3pDLGlCQUFPLEVBQUUsTUFBTSxNQUFNLE9BQU8sVUFBVSxLQUFLLFVBQVUsTUFBTSxTQUFTLEVBQUUsT0FBTyxNQUFNLE1BQU0sRUFBRTtBQUFBLFFBQzdGLFNBQVMsT0FBTztBQUNkLGNBQUksUUFBUSxLQUFNLE1BQUssTUFBTSxFQUFFO0FBQy9CLGdCQUFNO0FBQUEsUUFDUjtBQUFBLE1BQ0Y7QUFBQSxNQUNBLFFBQVEsTUFBTSxJQUFJO0FBQ2hCLGVBQU8sTUFBTSxFQUFFO0FBQUEsTUFDakI7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNGO0FBR0EsZUFBZSxTQUNiLFVBQ0EsU0FDQSxFQUFFLFVBQVUsR0FDaUY7QUFDN0YsTUFBSSxPQUFPLG9CQUFJLElBQWtCO0FBQ2pDLG1CQUFpQixRQUFRLFFBQVEsV0FBVyxVQUFVLE9BQU8sR0FBRztBQUM5RCxXQUFPLFNBQVMsTUFBTSxLQUFLLEtBQUssSUFBSTtBQUNwQyxRQUFJLEtBQUssS0FBTSxRQUFPLEVBQUUsTUFBTSxLQUFLLE1BQU0sTUFBTSxDQUFDLEdBQUcsS0FBSyxPQUFPLENBQUMsR0FBRyxPQUFPLEtBQUssTUFBTTtBQUFBLEVBQ3ZGO0FBQ0EsUUFBTSxJQUFJLFFBQVEsU0FBUyxFQUFFLE1BQU0saUNBQWlDLENBQUM7QUFDdkU7QUFHQSxTQUFTLFFBQVEsRUFBRSxTQUFTLEVBQUUsVUFBVSxRQUFRLEVBQUUsR0FBa0I7QUFDbEUsU0FBTyxhQUFhLFVBQWEsWUFBWSxVQUFhLFNBQVMsVUFBVSxPQUFPLFNBQVMsU0FBUztBQUN4RztBQUdBLFNBQVMsS0FBSyxFQUFFLFNBQVMsU0FBUyxFQUFFLFVBQVUsUUFBUSxFQUFFLEdBQWtCO0FBQ3hFLFNBQU8sUUFBUSxXQUFXLGFBQWEsVUFBYSxZQUFZLFVBQWEsQ0FBQyxVQUFVLElBQUksUUFBUSxJQUFJO0FBQzFHO0FBRUEsSUFBTSxZQUFZLG9CQUFJLElBQXFCLENBQUMsZUFBZSxzQkFBc0Isc0JBQXNCLFlBQVksQ0FBQzs7O0FDakc3RyxJQUFNLFFBQWlDO0FBQUEsRUFDNUMsTUFBTTtBQUFBLEVBQ04sTUFBTSxDQUFDLFNBQWdDLFdBQVc7QUFBQSxFQUNsRCxNQUFNLEtBQUssTUFBTSxNQUFNO0FBQ3JCLFVBQU0sT0FBTyxNQUFNLEtBQUssTUFBTSxLQUFLLE9BQU8sT0FBTztBQUNqRCxVQUFNLFFBQVEsS0FBSyxRQUFRLEtBQUs7QUFDaEMsVUFBTSxRQUFRLFVBQVUsS0FBSyxNQUFNLE1BQU0sQ0FBQyxHQUFHLEtBQUssTUFBTSxNQUFNLENBQUM7QUFDL0QsVUFBTSxRQUFRLFVBQVUsS0FBSyxNQUFNLE1BQU0sQ0FBQyxHQUFHLEtBQUssTUFBTSxNQUFNLENBQUM7QUFDL0QsV0FBTztBQUFBLE1BQ0wsTUFBTTtBQUFBLE1BQ047QUFBQSxNQUNBLFNBQVMsS0FBSyxNQUFNLE9BQU8sQ0FBQyxLQUFLLEVBQUUsUUFBUSxNQUFNLE1BQU0sU0FBUyxDQUFDO0FBQUEsTUFDakUsVUFBVSxLQUFLLE1BQU0sUUFBUSxDQUFDLEVBQUUsU0FBUyxNQUFNLFFBQVE7QUFBQSxNQUN2RCxPQUFPLEtBQUssTUFBTSxRQUFRLENBQUMsRUFBRSxNQUFNLE1BQU0sU0FBUyxDQUFDLENBQUM7QUFBQSxNQUNwRCxTQUFTO0FBQUEsUUFDUCxHQUFHLFVBQVUsS0FBSyxNQUFNLEtBQUssTUFBTSxDQUFDLEdBQUcsS0FBSyxNQUFNLE1BQU0sQ0FBQztBQUFBLFFBQ3pELEdBQUcsS0FBSyxNQUFNLFFBQVEsQ0FBQyxFQUFFLE1BQU0sUUFBUSxNQUFPLE9BQU8sQ0FBQyxJQUFJLE9BQVE7QUFBQSxNQUNwRTtBQUFBLE1BQ0EsTUFBTSxLQUFLLE1BQU0sSUFBSTtBQUNuQixjQUFNLEVBQUUsVUFBVSxJQUFJO0FBQ3RCLGNBQU0sUUFBUSxXQUFXLE1BQU0sV0FBVyxNQUFNLE9BQU8sV0FBVyxLQUFLLE9BQU8sS0FBSyxDQUFDO0FBQ3BGLGNBQU0sVUFBVSxNQUFNLEtBQUssTUFBTSxLQUFLLE9BQU8sRUFBRSxHQUFHLE1BQU0sSUFBSSxPQUFPLE9BQU8sT0FBTyxLQUFLLFFBQVEsRUFBRSxDQUFDO0FBQ2pHLFlBQUksUUFBUyxRQUFPLEVBQUUsTUFBTSxRQUFXLE1BQU0sQ0FBQyxHQUFHLFVBQVUsQ0FBQyxPQUFPLEVBQUU7QUFDckUsbUJBQVcsQ0FBQyxNQUFNLElBQUksS0FBSyxPQUFPO0FBQ2hDLGdCQUFNLFFBQVEsVUFBVSxNQUFNLGVBQWUsV0FBVyxLQUFLLEdBQUcsZ0JBQWdCLEtBQUssRUFBRTtBQUN2RixjQUFJLE1BQU8sTUFBSyxNQUFNLElBQUksTUFBTSxLQUFLO0FBQUEsUUFDdkM7QUFDQSxlQUFPLEVBQUUsTUFBTSxRQUFXLE1BQU0sQ0FBQyxHQUFHLE1BQU0sS0FBSyxDQUFDLEdBQUcsVUFBVSxDQUFDLEVBQUU7QUFBQSxNQUNsRTtBQUFBLElBQ0Y7QUFBQSxFQUNGO0FBQ0Y7OztBQzVCTyxJQUFNLFlBQWlDO0FBQUEsRUFDNUM7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFDRjs7O0FDUUEsZUFBc0IsVUFDcEIsV0FDQSxPQUNBLFNBQXFCLENBQUMsR0FDdEIsUUFBMkIsQ0FBQyxHQUNSO0FBQ3BCLFFBQU0sRUFBRSxXQUFXLElBQUk7QUFDdkIsUUFBTSxFQUFFLE1BQU0sU0FBUyxLQUFLLElBQUksV0FBVyxLQUFLLFNBQVMsS0FBSztBQUM5RCxNQUFJLE1BQU0sU0FBUyxJQUFJLEdBQUc7QUFDeEIsVUFBTSxJQUFJLFFBQVEsVUFBVTtBQUFBLE1BQzFCLE1BQU0sY0FBYyxDQUFDLEdBQUcsT0FBTyxJQUFJLEVBQUUsS0FBSyxJQUFJLENBQUM7QUFBQSxNQUMvQyxPQUFPLEVBQUUsTUFBTSxLQUFLLEtBQUs7QUFBQSxJQUMzQixDQUFDO0FBQUEsRUFDSDtBQUNBLFFBQU0sUUFBZSxDQUFDO0FBQ3RCLFFBQU0sUUFBUSxDQUFDLEtBQUssSUFBSTtBQUN4QixRQUFNLFNBQVMsT0FBVSxNQUFvQyxTQUF1QztBQUNsRyxRQUFJO0FBQ0YsYUFBTyxNQUFNLEtBQUs7QUFBQSxJQUNwQixTQUFTLE9BQU87QUFDZCxZQUFNLFVBQVUsS0FBSyxFQUFFLEdBQUcsS0FBSyxTQUFTLElBQUksQ0FBQztBQUFBLElBQy9DO0FBQUEsRUFDRjtBQUNBLFFBQU0sWUFBWSxPQUNoQixPQUNBLFNBQ29DO0FBQ3BDLFVBQU1DLFNBQXVCLENBQUM7QUFDOUIsZUFBVyxDQUFDLE9BQU8sSUFBSSxLQUFLLE1BQU0sUUFBUSxHQUFHO0FBQzNDLFlBQU0sS0FBSyxDQUFDLEdBQUcsTUFBTSxLQUFLO0FBQzFCLFlBQU0sT0FBaUI7QUFBQSxRQUNyQjtBQUFBLFFBQ0E7QUFBQSxRQUNBO0FBQUEsUUFDQSxNQUFNO0FBQUEsUUFDTjtBQUFBLFFBQ0EsU0FBUyxDQUFDLFNBQVMsUUFBUSxPQUFPLENBQUMsR0FBRyxJQUFJLEdBQUcsR0FBRyxZQUFZLFVBQVUsUUFBUSxPQUFPLENBQUM7QUFBQSxRQUN0RixPQUFPLENBQUNDLFFBQU8sUUFDYixPQUFPLENBQUMsR0FBRyxJQUFJLEdBQUcsR0FBRyxZQUFZO0FBQy9CLGdCQUFNLFFBQVEsTUFBTSxVQUFVLFdBQVdBLFFBQU8sQ0FBQyxHQUFHLENBQUMsR0FBRyxPQUFPLElBQUksQ0FBQztBQUNwRSxnQkFBTSxLQUFLLE1BQU0sSUFBSTtBQUNyQixpQkFBTztBQUFBLFFBQ1QsQ0FBQztBQUFBLFFBQ0gsT0FBTztBQUFBLE1BQ1Q7QUFDQSxNQUFBRCxPQUFNLEtBQUssTUFBTSxTQUFTLE1BQU0sSUFBSSxDQUFDO0FBQUEsSUFDdkM7QUFDQSxXQUFPQTtBQUFBLEVBQ1Q7QUFDQSxRQUFNLFFBQVEsTUFBTSxVQUFVLFFBQVEsT0FBTyxDQUFDLE9BQU8sQ0FBQztBQUN0RCxRQUFNLE9BQWtCO0FBQUEsSUFDdEI7QUFBQSxJQUNBO0FBQUEsSUFDQSxPQUFPLENBQUMsR0FBRyxPQUFPLEtBQUssUUFBUSxVQUFVLENBQUMsQ0FBQyxHQUFHLEdBQUcsTUFBTSxRQUFRLENBQUMsRUFBRSxNQUFNLE1BQU0sU0FBUyxDQUFDLENBQUMsQ0FBQztBQUFBLElBQzFGLFFBQVEsV0FBVyxRQUFRLFFBQVEsRUFBRSxLQUFLLEdBQUcsU0FBUyxJQUFJLElBQUksS0FBSztBQUFBLElBQ25FLE1BQU0sT0FBTyxTQUFTLFFBQVEsTUFBTSxPQUFPLFNBQVM7QUFBQSxJQUNwRCxRQUFRLE9BQU8sVUFBVSxRQUFRLFNBQVMsS0FBSztBQUFBLElBQy9DLE1BQU0sUUFBUSxRQUFRO0FBQUEsSUFDdEIsT0FBTyxRQUFRLFNBQVMsVUFBVSxRQUFRLE9BQU8sTUFBTSxDQUFDLE9BQU8sR0FBRyxLQUFLO0FBQUEsSUFDdkUsTUFBTSxNQUFNLEtBQUssSUFBSTtBQUFBLEVBQ3ZCO0FBQ0EsUUFBTSxRQUFRLElBQUksS0FBSztBQUN2QixTQUFPO0FBQ1Q7QUFFQSxTQUFTLE9BQ1AsRUFBRSxLQUFLLEdBQ1AsUUFDQSxNQUNBLE9BQ0EsV0FDbUI7QUFDbkIsTUFBSSxPQUFPLFNBQVMsT0FBVyxRQUFPLFNBQVMsT0FBTyxNQUFNLE1BQU0sT0FBTyxTQUFTO0FBQ2xGLFNBQU8sU0FBUyxTQUFZLFNBQVksU0FBUyxNQUEwQixNQUFNLE9BQU8sU0FBUztBQUNuRztBQUVBLGVBQWUsU0FBUyxNQUFnQixNQUFzQztBQUM1RSxRQUFNLEVBQUUsTUFBTSxPQUFPLFdBQVcsS0FBSyxJQUFJO0FBQ3pDLFFBQU0sT0FBTyxVQUFVLEtBQUssQ0FBQyxRQUFRLElBQUksS0FBSyxJQUFJLENBQUM7QUFDbkQsTUFBSSxDQUFDLEtBQU0sT0FBTSxJQUFJLFFBQVEsY0FBYyxFQUFFLE1BQU0sZ0NBQWdDLE9BQU8sS0FBSyxTQUFTLElBQUksRUFBRSxDQUFDO0FBQy9HLFFBQU0sVUFBVSxNQUFNLEtBQUssS0FBSyxNQUFNLElBQUk7QUFDMUMsUUFBTSxFQUFFLFNBQVMsSUFBSTtBQUNyQixRQUFNLE9BQU8sS0FBSyxRQUFRLGlCQUFpQixLQUFLLE1BQU0sQ0FBQyxHQUFHLE1BQU0sTUFBTSxHQUFHLEVBQUUsTUFBTSxPQUFPLFNBQVMsQ0FBQztBQUNsRyxTQUFPLEVBQUUsR0FBRyxTQUFTLEtBQUs7QUFDNUI7QUFHQSxlQUFzQixlQUNwQixXQUNBLFVBQ0EsU0FBcUIsQ0FBQyxHQUNGO0FBQ3BCLFFBQU0sRUFBRSxNQUFNLEtBQUssSUFBSSxTQUFTO0FBQ2hDLFFBQU0sUUFBZSxDQUFDO0FBQ3RCLFFBQU0sZ0JBQWdCLE1BQ3BCLFFBQVEsT0FBTyxJQUFJLFFBQVEsVUFBVSxFQUFFLE1BQU0seUNBQXlDLENBQUMsQ0FBQztBQUMxRixRQUFNLE9BQWlCO0FBQUEsSUFDckI7QUFBQSxJQUNBLFlBQVksVUFBVTtBQUFBLElBQ3RCO0FBQUEsSUFDQSxNQUFNLENBQUM7QUFBQSxJQUNQO0FBQUEsSUFDQSxTQUFTLFlBQVk7QUFBQSxJQUNyQixPQUFPO0FBQUEsSUFDUCxPQUFPO0FBQUEsRUFDVDtBQUNBLFFBQU0sT0FBTyxNQUFNLEtBQUssS0FBSyxFQUFFLE1BQU0sS0FBSyxHQUFHLElBQUk7QUFDakQsUUFBTSxPQUFPLE9BQU8sU0FBUyxTQUFZLFNBQVksU0FBUyxPQUFPLE1BQU0sTUFBTSxPQUFPLFNBQVM7QUFDakcsUUFBTSxRQUFRLElBQUksS0FBSztBQUN2QixTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0EsT0FBTyxDQUFDLEVBQUUsR0FBRyxNQUFNLE1BQU0sT0FBVSxDQUFDO0FBQUEsSUFDcEMsT0FBTyxTQUFTLEtBQUssT0FBTyxJQUFJLENBQUMsVUFBVSxNQUFNLElBQUk7QUFBQTtBQUFBLElBRXJELFFBQVEsU0FBUyxLQUFLLE9BQU8sT0FBTyxDQUFDLFVBQVUsVUFBVSxTQUFTLElBQUksTUFBTSxJQUFJLENBQUM7QUFBQSxJQUNqRjtBQUFBLElBQ0EsUUFBUSxPQUFPLFVBQVU7QUFBQSxJQUN6QixNQUFNO0FBQUEsSUFDTixPQUFPO0FBQUEsSUFDUCxNQUFNLEtBQUs7QUFBQSxFQUNiO0FBQ0Y7IiwKICAibmFtZXMiOiBbInBhcnRzIiwgImxvYWQiLCAiY3JlYXRlUmVhZFN0cmVhbSIsICJjc3YiLCAiY3JlYXRlUmVhZFN0cmVhbSIsICJ1bmtub3duIiwgIm51bWJlcmVkIiwgIm93biIsICJjaGFuZ2VzIiwgInN0ZXBzIiwgInRyYWlsIl0KfQo=
