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
} from "./chunk-N7Z7IEQC.js";
import {
  isRepeatable,
  pause,
  sendRequest
} from "./chunk-WDOQRD4B.js";
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
    sending: ({ workspace: at, scope, signal, row, forSession }) => ({
      given: giver(gives, at, scope, label),
      // Most sendings never look at the names of the walk.
      caller: lazily(() => walkEvaluation(at, scope).names),
      sessions: forSession === void 0 ? sessions : [],
      cookiesOf: forSession === void 0 ? void 0 : [forSession],
      keeps,
      signal,
      step: label,
      row
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
          const sending = {
            ...step.sending(walk),
            expectations,
            idempotencyKey: before?.key,
            onLeaving: ({ changes: changes2, idempotencyKey }, call) => {
              const first = !left;
              left = true;
              return first && changes2 ? walk.journal?.leaving(at, walk.row, call, idempotencyKey) : void 0;
            }
          };
          const { sent, kept, pages } = await sentBy(prepared, sending, walk);
          const names = step.keep(walk, kept);
          if (lost(sent))
            walk.doubt(`${sent.wire.method} ${walk.workspace.redactor.hide(sent.wire.shownUrl)} (echo ${sent.echo})`);
          if (undo && !refused(sent)) undo(walk, at);
          return { sent, kept: names, problems: sent.problems, told: pages && { pages } };
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
async function sentBy(prepared, sending, { workspace }) {
  if (!prepared.pages) {
    const sent = await sendRequest(workspace, prepared, sending);
    return { sent, kept: sent.kept, pages: void 0 };
  }
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
  const never = /* @__PURE__ */ new Set(["name-lookup", "connection-refused", "connection-timeout", "tls-failed"]);
  return request.changes && received === void 0 && trouble !== void 0 && !never.has(trouble.code);
}

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
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvc2NvcGUudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvc3RhcnQtc2NvcGUudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvY29uZGl0aW9ucy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9yb3dzL3JlZ2lzdHJ5LnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3Jvd3MvY3N2LnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3Jvd3MvanNvbi50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9yb3dzL2pzb25sLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3Jvd3MvdG90YWwudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvcm93cy9yb3dzLXBsYW4udHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvZ2l2aW5nLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3NlY3JldHMtYWhlYWQudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvc3RlcHMvY2hvb3NlLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3N0ZXBzL3VuY2hhbmdpbmcudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvc3RlcHMvY29tcGFyZS50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9ncmF2aXR5LnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL21hbnkudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvdGFibGUudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvc3RlcHMvbWVtYmVycy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9zdGVwcy9mb3ItZWFjaC50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9zdGVwcy9rZWVwLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3N0ZXBzL3NlbnQtc3RlcC50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9zdGVwcy9wb2xsLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3N0ZXBzL3VuZG8tcGFydC50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9zdGVwcy9zZW5kLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3N0ZXBzL3RyYWlsLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3N0ZXBzL3JlZ2lzdHJ5LnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3BsYW4udHMiXSwKICAic291cmNlc0NvbnRlbnQiOiBbIi8qKiBUaGUgbmFtZXMgb2Ygb25lIHdhbGs6IGlucHV0cywgcm93IGNvbHVtbnMgYW5kIGtlcHQgdmFsdWVzOyB3aGF0IGlzIGtlcHQgbGF0ZXIgcmVwbGFjZXMgd2hhdCB3YXMgdGhlcmUuICovXG5pbXBvcnQgdHlwZSB7IE5hbWVkLCBOYW1lcyB9IGZyb20gJy4uL2V4cHJlc3Npb24vbmFtZXMuanMnO1xuXG5leHBvcnQgY2xhc3MgU2NvcGUgaW1wbGVtZW50cyBOYW1lcyB7XG4gIHJlYWRvbmx5IGxheWVyczogcmVhZG9ubHkgc3RyaW5nW107XG5cbiAgLyoqIEBwYXJhbSBvdXRlciB0aGUgc2NvcGUgdGhhdCB0aGlzIG9uZSBzdGFuZHMgaW46IHNlZW4sIGFuZCBuZXZlciBjaGFuZ2VkICovXG4gIGNvbnN0cnVjdG9yKFxuICAgIHByaXZhdGUgcmVhZG9ubHkgdmFsdWVzOiBNYXA8c3RyaW5nLCBOYW1lZD4sXG4gICAgbGF5ZXI6IHN0cmluZyxcbiAgICBwcml2YXRlIHJlYWRvbmx5IG91dGVyPzogU2NvcGUsXG4gICkge1xuICAgIHRoaXMubGF5ZXJzID0gb3V0ZXIgPyBbbGF5ZXIsIC4uLm91dGVyLmxheWVyc10gOiBbbGF5ZXJdO1xuICB9XG5cbiAgbG9va3VwKG5hbWU6IHN0cmluZyk6IE5hbWVkIHwgdW5kZWZpbmVkIHtcbiAgICByZXR1cm4gdGhpcy52YWx1ZXMuZ2V0KG5hbWUpID8/IHRoaXMub3V0ZXI/Lmxvb2t1cChuYW1lKTtcbiAgfVxuXG4gICprbm93bigpOiBJdGVyYWJsZTxzdHJpbmc+IHtcbiAgICB5aWVsZCogdGhpcy52YWx1ZXMua2V5cygpO1xuICAgIGlmICh0aGlzLm91dGVyKSB5aWVsZCogdGhpcy5vdXRlci5rbm93bigpO1xuICB9XG5cbiAgc2V0KG5hbWU6IHN0cmluZywgbmFtZWQ6IE5hbWVkKTogdm9pZCB7XG4gICAgdGhpcy52YWx1ZXMuc2V0KG5hbWUsIG5hbWVkKTtcbiAgfVxuXG4gIC8qKiBBcyBpdCBpcyBub3c7IHdoYXQgaXMga2VwdCBsYXRlciBkb2VzIG5vdCBjaGFuZ2UgaXQuICovXG4gIHNuYXBzaG90KCk6IFNjb3BlIHtcbiAgICByZXR1cm4gbmV3IFNjb3BlKG5ldyBNYXAodGhpcy52YWx1ZXMpLCB0aGlzLmxheWVyc1swXSA/PyAnJywgdGhpcy5vdXRlcj8uc25hcHNob3QoKSk7XG4gIH1cbn1cbiIsICIvKiogVGhlIG5hbWVzIHRoYXQgYSB0cmFpbCBzdGFydHMgd2l0aDogaXRzIGlucHV0cywgYW5kIHRoZSBjb2x1bW5zIG9mIGl0cyByb3cuICovXG5pbXBvcnQgeyB0eXBlIElucHV0UGxhbiwgaW5wdXRWYWx1ZSwgbWlzc2luZ0lucHV0IH0gZnJvbSAnLi4vY29sbGVjdGlvbi9pbnB1dHMuanMnO1xuaW1wb3J0IHsgdmFyaWFibGVOYW1lcyB9IGZyb20gJy4uL2NvbGxlY3Rpb24vbGF5ZXJzLmpzJztcbmltcG9ydCB7IHR5cGUgTmFtZWQsIG5vTmFtZXMgfSBmcm9tICcuLi9leHByZXNzaW9uL25hbWVzLmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUgfSBmcm9tICcuLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB0eXBlIHsgUm93IH0gZnJvbSAnLi9yb3dzL3Jvdy1zb3VyY2UuanMnO1xuaW1wb3J0IHsgU2NvcGUgfSBmcm9tICcuL3Njb3BlLmpzJztcbmltcG9ydCB0eXBlIHsgVHJhaWxQbGFuIH0gZnJvbSAnLi9zdGVwLWtpbmQuanMnO1xuaW1wb3J0IHR5cGUgeyBXb3Jrc3BhY2UgfSBmcm9tICcuL3dvcmtzcGFjZS5qcyc7XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gaW5wdXQtbWlzc2luZywgaW5wdXQtdmFsdWUgKi9cbmV4cG9ydCBmdW5jdGlvbiBzdGFydFNjb3BlKFxuICBwbGFuOiBUcmFpbFBsYW4sXG4gIHdvcmtzcGFjZTogV29ya3NwYWNlLFxuICBnaXZlbjogKGlucHV0OiBzdHJpbmcpID0+IE5hbWVkIHwgdW5kZWZpbmVkLFxuICByb3c/OiBSb3csXG4pOiBTY29wZSB7XG4gIGNvbnN0IHZhbHVlcyA9IG5ldyBNYXA8c3RyaW5nLCBOYW1lZD4oKTtcbiAgaWYgKHJvdykge1xuICAgIGNvbnN0IG9yaWdpbiA9IGByb3cgJHtyb3cubnVtYmVyfSBvZiAke3BsYW4ucm93cz8uZnJvbX1gO1xuICAgIHZhbHVlcy5zZXQoJ3JvdycsIHsgdmFsdWU6IHJvdy5jb2x1bW5zLCBvcmlnaW4gfSk7XG4gICAgZm9yIChjb25zdCBuYW1lIGluIHJvdy5jb2x1bW5zKSB2YWx1ZXMuc2V0KG5hbWUsIHsgdmFsdWU6IHJvdy5jb2x1bW5zW25hbWVdIGFzIFZhbHVlLCBvcmlnaW4gfSk7XG4gIH1cbiAgcmV0dXJuIHdpdGhJbnB1dHMocGxhbiwgd29ya3NwYWNlLCB2YWx1ZXMsIGdpdmVuLCAoaW5wdXQpID0+IHtcbiAgICB0aHJvdyBtaXNzaW5nSW5wdXQoaW5wdXQpO1xuICB9KTtcbn1cblxuLyoqIFRoZSBpbnB1dHMgYXMgZmFyIGFzIHRoZXkgYXJlIGtub3duIGJlZm9yZSB0aGVyZSBpcyBhIHJvdywgZm9yIHRoZSBleHByZXNzaW9uIHRoYXQgZ2l2ZXMgdGhlIHJvd3MuICovXG5leHBvcnQgZnVuY3Rpb24gaW5wdXRTY29wZShwbGFuOiBUcmFpbFBsYW4sIHdvcmtzcGFjZTogV29ya3NwYWNlLCBnaXZlbjogKGlucHV0OiBzdHJpbmcpID0+IE5hbWVkIHwgdW5kZWZpbmVkKTogU2NvcGUge1xuICByZXR1cm4gd2l0aElucHV0cyhwbGFuLCB3b3Jrc3BhY2UsIG5ldyBNYXAoKSwgZ2l2ZW4sICgpID0+IHVuZGVmaW5lZCk7XG59XG5cbmZ1bmN0aW9uIHdpdGhJbnB1dHMoXG4gIHBsYW46IFRyYWlsUGxhbixcbiAgd29ya3NwYWNlOiBXb3Jrc3BhY2UsXG4gIHZhbHVlczogTWFwPHN0cmluZywgTmFtZWQ+LFxuICBnaXZlbjogKGlucHV0OiBzdHJpbmcpID0+IE5hbWVkIHwgdW5kZWZpbmVkLFxuICBtaXNzaW5nOiAoaW5wdXQ6IElucHV0UGxhbikgPT4gdm9pZCxcbik6IFNjb3BlIHtcbiAgY29uc3Qgc2NvcGUgPSBuZXcgU2NvcGUodmFsdWVzLCBgdmFsdWVzIG9mIHRyYWlsICR7cGxhbi5uYW1lfWApO1xuICBpZiAocGxhbi5pbnB1dHMubGVuZ3RoID09PSAwKSByZXR1cm4gc2NvcGU7XG4gIGNvbnN0IHN1cnJvdW5kaW5ncyA9IHsgd29ybGQ6IHdvcmtzcGFjZS53b3JsZCgpLCBvblNlY3JldDogd29ya3NwYWNlLnJlZGFjdG9yLmFkZCB9O1xuICBjb25zdCBuYW1lcyA9IHZhcmlhYmxlTmFtZXMod29ya3NwYWNlLmxheWVycywgbm9OYW1lcywgc3Vycm91bmRpbmdzKTtcbiAgZm9yIChjb25zdCBpbnB1dCBvZiBwbGFuLmlucHV0cykge1xuICAgIGNvbnN0IG5hbWVkID0gaW5wdXRWYWx1ZShpbnB1dCwgZ2l2ZW4oaW5wdXQubmFtZSkgPz8gdmFsdWVzLmdldChpbnB1dC5uYW1lKSwgbmFtZXMsIHN1cnJvdW5kaW5ncyk7XG4gICAgaWYgKG5hbWVkKSBzY29wZS5zZXQoaW5wdXQubmFtZSwgbmFtZWQpO1xuICAgIGVsc2UgbWlzc2luZyhpbnB1dCk7XG4gIH1cbiAgcmV0dXJuIHNjb3BlO1xufVxuXG4vKiogV2hhdCBgLS1zZXRgIGdpdmVzIHRvIGlucHV0cy4gKi9cbmV4cG9ydCBjb25zdCBmcm9tQ29tbWFuZExpbmUgPVxuICAoeyBzZXR0aW5ncyB9OiBXb3Jrc3BhY2UpID0+XG4gIChpbnB1dDogc3RyaW5nKTogTmFtZWQgfCB1bmRlZmluZWQgPT4ge1xuICAgIGNvbnN0IHZhbHVlID0gc2V0dGluZ3MuZ2V0KGlucHV0KTtcbiAgICByZXR1cm4gdmFsdWUgPT09IHVuZGVmaW5lZCA/IHVuZGVmaW5lZCA6IHsgdmFsdWUsIG9yaWdpbjogJy0tc2V0JyB9O1xuICB9O1xuIiwgIi8qKiBgd2hlbmA6IHdoZXRoZXIgYSBzdGVwIGlzIHRha2VuLCBieSBtYXRjaGVycyBvdmVyIHRoZSBuYW1lcyBvZiB0aGUgd2Fsay4gKi9cbmltcG9ydCB0eXBlIHsgWWFtbEZpbGUgfSBmcm9tICcuLi9jb2xsZWN0aW9uL3lhbWwuanMnO1xuaW1wb3J0IHR5cGUgeyBMb2FkcyB9IGZyb20gJy4uL2V4cHJlc3Npb24vY29tcGlsZS5qcyc7XG5pbXBvcnQgeyB0eXBlIEV2YWx1YXRpb24sIG9taXR0ZWQgfSBmcm9tICcuLi9leHByZXNzaW9uL2V2YWx1YXRpb24uanMnO1xuaW1wb3J0IHsgcGFyc2VFeHByZXNzaW9uIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi9wYXJzZXIuanMnO1xuaW1wb3J0IHsgY29tcGlsZVRyZWUgfSBmcm9tICcuLi9leHByZXNzaW9uL3RyZWUuanMnO1xuaW1wb3J0IHsgY29tcGlsZU1hdGNoZXJzIH0gZnJvbSAnLi4vbWF0Y2hlci9jb21waWxlLmpzJztcbmltcG9ydCB0eXBlIHsgQ2hlY2sgfSBmcm9tICcuLi9tYXRjaGVyL21hdGNoZXIuanMnO1xuaW1wb3J0IHsgYXNQcm9ibGVtLCBQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IGlzVmFsdWVNYXAsIHR5cGUgVmFsdWUgfSBmcm9tICcuLi92YWx1ZS93cml0dGVuLmpzJztcblxuZXhwb3J0IHR5cGUgQ29uZGl0aW9uID0gKGV2YWx1YXRpb246IEV2YWx1YXRpb24pID0+IGJvb2xlYW47XG5cbmludGVyZmFjZSBSb29tIHtcbiAgcmVhZG9ubHkgeWFtbDogWWFtbEZpbGU7XG4gIHJlYWRvbmx5IGxvYWRzOiBMb2FkcztcbiAgcmVhZG9ubHkgcmVhZFRleHQ6IChwYXRoOiBzdHJpbmcpID0+IHN0cmluZztcbn1cblxuLyoqXG4gKiBBbGwgbWF0Y2hlcnMgb2YgYSBzZXQgbXVzdCBob2xkOyBgYW55YCBpcyBhIGxpc3Qgb2Ygc2V0cywgb25lIG9mIHdoaWNoIG11c3QsIGFuZCBgbm90YCBhIHNldCB0aGF0IG11c3Qgbm90LlxuICogQHRocm93cyBQcm9ibGVtIG1hdGNoZXItc2hhcGUsIGV4cHJlc3Npb24tc3ludGF4LCB3aXRoIGl0cyBwbGFjZSBpbiB0aGUgZmlsZVxuICovXG5leHBvcnQgZnVuY3Rpb24gY29tcGlsZUNvbmRpdGlvbihcbiAgc2V0OiBSZWFkb25seTxSZWNvcmQ8c3RyaW5nLCBWYWx1ZT4+LFxuICBwYXRoOiByZWFkb25seSAoc3RyaW5nIHwgbnVtYmVyKVtdLFxuICByb29tOiBSb29tLFxuKTogQ29uZGl0aW9uIHtcbiAgY29uc3QgcGFydHMgPSBPYmplY3QuZW50cmllcyhzZXQpLm1hcCgoW25hbWUsIHZhbHVlXSk6IENvbmRpdGlvbiA9PiB7XG4gICAgY29uc3QgYXQgPSBbLi4ucGF0aCwgbmFtZV07XG4gICAgdHJ5IHtcbiAgICAgIGlmIChuYW1lID09PSAnYW55JyAmJiBBcnJheS5pc0FycmF5KHZhbHVlKSkge1xuICAgICAgICBjb25zdCBzZXRzID0gKHZhbHVlIGFzIHJlYWRvbmx5IFZhbHVlW10pLm1hcCgob25lLCBpbmRleCkgPT5cbiAgICAgICAgICBjb21waWxlQ29uZGl0aW9uKGFzU2V0KG9uZSksIFsuLi5hdCwgaW5kZXhdLCByb29tKSxcbiAgICAgICAgKTtcbiAgICAgICAgcmV0dXJuIChldmFsdWF0aW9uKSA9PiBzZXRzLnNvbWUoKGhvbGRzKSA9PiBob2xkcyhldmFsdWF0aW9uKSk7XG4gICAgICB9XG4gICAgICBpZiAobmFtZSA9PT0gJ25vdCcgJiYgaXNWYWx1ZU1hcCh2YWx1ZSkpIHtcbiAgICAgICAgY29uc3QgaW5uZXIgPSBjb21waWxlQ29uZGl0aW9uKGFzU2V0KHZhbHVlKSwgYXQsIHJvb20pO1xuICAgICAgICByZXR1cm4gKGV2YWx1YXRpb24pID0+ICFpbm5lcihldmFsdWF0aW9uKTtcbiAgICAgIH1cbiAgICAgIHJldHVybiBvdmVyTmFtZShuYW1lLCB2YWx1ZSwgYXQsIHJvb20pO1xuICAgIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgICB0aHJvdyBhc1Byb2JsZW0oZXJyb3IpLmF0KHJvb20ueWFtbC5wb3NpdGlvbihhdCkpO1xuICAgIH1cbiAgfSk7XG4gIHJldHVybiAoZXZhbHVhdGlvbikgPT4gcGFydHMuZXZlcnkoKGhvbGRzKSA9PiBob2xkcyhldmFsdWF0aW9uKSk7XG59XG5cbmZ1bmN0aW9uIGFzU2V0KHZhbHVlOiBWYWx1ZSk6IFJlYWRvbmx5PFJlY29yZDxzdHJpbmcsIFZhbHVlPj4ge1xuICBpZiAoaXNWYWx1ZU1hcCh2YWx1ZSkpIHJldHVybiB2YWx1ZSBhcyBSZWFkb25seTxSZWNvcmQ8c3RyaW5nLCBWYWx1ZT4+O1xuICB0aHJvdyBuZXcgUHJvYmxlbSgnbWF0Y2hlci1zaGFwZScsIHsgd2hhdDogJ2FueSBpcyBhIGxpc3Qgb2YgbWFwczogbmFtZXMsIGVhY2ggd2l0aCBpdHMgbWF0Y2hlcnMnIH0pO1xufVxuXG4vKiogQSBuYW1lLCBvciBhIG1lbWJlciBvZiBvbmUgc3VjaCBhcyBgdmVzc2VsLmtpbmRgOyB3aGF0IGRvZXMgbm90IGV4aXN0IGlzIG5vdGhpbmcuICovXG5mdW5jdGlvbiBvdmVyTmFtZShcbiAgbmFtZTogc3RyaW5nLFxuICB2YWx1ZTogVmFsdWUsXG4gIGF0OiByZWFkb25seSAoc3RyaW5nIHwgbnVtYmVyKVtdLFxuICB7IHlhbWwsIGxvYWRzLCByZWFkVGV4dCB9OiBSb29tLFxuKTogQ29uZGl0aW9uIHtcbiAgLy8gQSBjb2x1bW4gbWF5IGJlIGNhbGxlZCB3aGF0ZXZlciBpdCBsaWtlczsgb25seSB3aGF0IG5vIG5hbWUgaXMgbWF5IGJlIGEgd2F5IGludG8gb25lLlxuICBjb25zdCB3YXkgPSAvWy5bXS8udGVzdChuYW1lKSA/IHdheUludG8obmFtZSkgOiB1bmRlZmluZWQ7XG4gIGNvbnN0IHRyZWUgPSBjb21waWxlVHJlZSh2YWx1ZSwgKGlubmVyKSA9PiB5YW1sLnBvc2l0aW9uKFsuLi5hdCwgLi4uaW5uZXJdKSwgbG9hZHMpO1xuICBjb25zdCByZW1ha2UgPSAoZXhwZWN0ZWQ6IFZhbHVlLCBtb3JlOiBMb2Fkcyk6IENoZWNrID0+XG4gICAgY29tcGlsZU1hdGNoZXJzKGV4cGVjdGVkLCB7IHN1YmplY3Q6IHsgc3RyaWN0OiBmYWxzZSB9LCBsb2FkczogbW9yZSwgcmVhZFRleHQgfSk7XG4gIGNvbnN0IGZpeGVkID0gdHJlZS5jb25zdGFudCA9PT0gdW5kZWZpbmVkID8gdW5kZWZpbmVkIDogcmVtYWtlKHRyZWUuY29uc3RhbnQsIGxvYWRzKTtcbiAgcmV0dXJuIChldmFsdWF0aW9uKSA9PiB7XG4gICAgY29uc3QgZm91bmQgPSBldmFsdWF0aW9uLm5hbWVzLmxvb2t1cChuYW1lKT8udmFsdWUgPz8gd2F5Py4oZXZhbHVhdGlvbik7XG4gICAgbGV0IGNoZWNrID0gZml4ZWQ7XG4gICAgaWYgKCFjaGVjaykge1xuICAgICAgY29uc3QgZXhwZWN0ZWQgPSB0cmVlLmV2YWx1YXRlKGV2YWx1YXRpb24pO1xuICAgICAgY29uc3QgbW9yZTogTG9hZHMgPSBbXTtcbiAgICAgIGNoZWNrID0gcmVtYWtlKGV4cGVjdGVkID09PSBvbWl0dGVkID8gbnVsbCA6IGV4cGVjdGVkLCBtb3JlKTtcbiAgICAgIGlmIChtb3JlLmxlbmd0aCA+IDApIHtcbiAgICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ21hdGNoZXItc2hhcGUnLCB7XG4gICAgICAgICAgd2hhdDogYHRoZSBjb25kaXRpb24gb3ZlciAke25hbWV9IG5lZWRzIGEgcGF0dGVybiBvciBhIHNjaGVtYSB0aGF0IGlzIHdyaXR0ZW4gb3V0YCxcbiAgICAgICAgICByZW1lZHk6ICduYW1lIHRoZSB2YWx1ZSBpbiBhIHN0ZXAgd2l0aCBrZWVwOiBiZWZvcmUgaXQnLFxuICAgICAgICB9KTtcbiAgICAgIH1cbiAgICB9XG4gICAgcmV0dXJuIGNoZWNrLm1pc3MoZm91bmQsIHt9KSA9PT0gdW5kZWZpbmVkO1xuICB9O1xufVxuXG4vKiogV2hhdCBzdGFuZHMgYXQgdGhlIGVuZCBvZiBhIHdheSBzdWNoIGFzIGB2ZXNzZWwubWFzdHNbMV1gOyB1bmRlZmluZWQgd2hlcmUgaXQgbGVhZHMgbm93aGVyZS4gKi9cbmZ1bmN0aW9uIHdheUludG8odGV4dDogc3RyaW5nKTogKGV2YWx1YXRpb246IEV2YWx1YXRpb24pID0+IFZhbHVlIHwgdW5kZWZpbmVkIHtcbiAgY29uc3Qgbm9kZSA9IHBhcnNlRXhwcmVzc2lvbih0ZXh0KTtcbiAgY29uc3Qga2V5cyA9IG5vZGUua2luZCA9PT0gJ3BhdGgnID8gbm9kZS5zdGVwcy5tYXAoKHN0ZXApID0+ICgna2V5JyBpbiBzdGVwID8gc3RlcC5rZXkgOiB1bmRlZmluZWQpKSA6IFtdO1xuICBpZiAobm9kZS5raW5kICE9PSAncGF0aCcgfHwga2V5cy5pbmNsdWRlcyh1bmRlZmluZWQpKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ21hdGNoZXItc2hhcGUnLCB7XG4gICAgICB3aGF0OiBgYSBjb25kaXRpb24gaXMgb3ZlciBhIG5hbWUsIG9yIGEgbWVtYmVyIG9mIG9uZSwgbm90IG92ZXIgJHt0ZXh0fWAsXG4gICAgICByZW1lZHk6ICduYW1lIHRoZSB2YWx1ZSBpbiBhIHN0ZXAgd2l0aCBrZWVwOiBiZWZvcmUgaXQnLFxuICAgIH0pO1xuICB9XG4gIHJldHVybiAoeyBuYW1lcyB9KSA9PiB7XG4gICAgbGV0IHZhbHVlID0gbmFtZXMubG9va3VwKG5vZGUubmFtZSk/LnZhbHVlO1xuICAgIGZvciAoY29uc3Qga2V5IG9mIGtleXMgYXMgKHN0cmluZyB8IG51bWJlcilbXSkge1xuICAgICAgaWYgKEFycmF5LmlzQXJyYXkodmFsdWUpKSB2YWx1ZSA9ICh2YWx1ZSBhcyByZWFkb25seSBWYWx1ZVtdKS5hdChOdW1iZXIoa2V5KSk7XG4gICAgICBlbHNlIHZhbHVlID0gaXNWYWx1ZU1hcCh2YWx1ZSkgJiYgT2JqZWN0Lmhhc093bih2YWx1ZSwga2V5KSA/IHZhbHVlW2tleV0gOiB1bmRlZmluZWQ7XG4gICAgfVxuICAgIHJldHVybiB2YWx1ZTtcbiAgfTtcbn1cbiIsICIvKiogQWxsIGZvcm1hdHMgb2Ygcm93cy4gQSBuZXcgb25lIGlzIG9uZSBmaWxlIGFuZCBvbmUgbGluZSBoZXJlLiAqL1xuaW1wb3J0IHsgY3JlYXRlUmVhZFN0cmVhbSB9IGZyb20gJ25vZGU6ZnMnO1xuaW1wb3J0IHR5cGUgeyBSZWFkYWJsZSB9IGZyb20gJ25vZGU6c3RyZWFtJztcbmltcG9ydCB0eXBlIHsgTG9hZHMgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL2NvbXBpbGUuanMnO1xuaW1wb3J0IHsgYXNQcm9ibGVtLCB0eXBlIEZpbGVQb3NpdGlvbiwgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBwYXRoSW5zaWRlIH0gZnJvbSAnLi4vLi4vc3RvcmFnZS9pbnNpZGUuanMnO1xuaW1wb3J0IHR5cGUgeyBWYWx1ZU1hcCB9IGZyb20gJy4uLy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHsgY3N2IH0gZnJvbSAnLi9jc3YuanMnO1xuaW1wb3J0IHsganNvbiB9IGZyb20gJy4vanNvbi5qcyc7XG5pbXBvcnQgeyBqc29ubCB9IGZyb20gJy4vanNvbmwuanMnO1xuaW1wb3J0IHR5cGUgeyBSb3dTb3VyY2UgfSBmcm9tICcuL3Jvdy1zb3VyY2UuanMnO1xuXG5jb25zdCByb3dTb3VyY2VzOiByZWFkb25seSBSb3dTb3VyY2VbXSA9IFtjc3YsIGpzb24sIGpzb25sXTtcblxuZnVuY3Rpb24gcm93U291cmNlT2YoZmlsZTogc3RyaW5nKTogUm93U291cmNlIHtcbiAgY29uc3QgZm91bmQgPSByb3dTb3VyY2VzLmZpbmQoKHsgZW5kaW5nIH0pID0+IGVuZGluZy50ZXN0KGZpbGUpKTtcbiAgaWYgKGZvdW5kKSByZXR1cm4gZm91bmQ7XG4gIHRocm93IG5ldyBQcm9ibGVtKCdkYXRhLXNoYXBlJywge1xuICAgIHdoYXQ6IGByb3dzIGFyZSByZWFkIGZyb20gLmNzdiwgLmpzb24gYW5kIC5qc29ubCBmaWxlcywgbm90IGZyb20gJHtmaWxlfWAsXG4gIH0pO1xufVxuXG4vKiogTG9va3MgYXQgYSBmaWxlIGJlZm9yZSBhbnl0aGluZyBpcyBzZW50LiBAdGhyb3dzIFByb2JsZW0gZmlsZS1ub3QtZm91bmQsIGZpbGUtb3V0c2lkZSwgZGF0YS1zaGFwZTogbm8gZm9ybWF0IGhhcyB0aGF0IGVuZGluZyAqL1xuZXhwb3J0IGZ1bmN0aW9uIHJlYWR5Um93cyhyb290OiBzdHJpbmcsIGZpbGU6IHN0cmluZywgbG9hZHM6IExvYWRzLCB3aGVyZTogRmlsZVBvc2l0aW9uKTogdm9pZCB7XG4gIHRyeSB7XG4gICAgY29uc3QgeyBsb2FkIH0gPSByb3dTb3VyY2VPZihmaWxlKTtcbiAgICBwYXRoSW5zaWRlKHJvb3QsIGZpbGUpO1xuICAgIGlmIChsb2FkKSBsb2Fkcy5wdXNoKGxvYWQoKSk7XG4gIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgdGhyb3cgYXNQcm9ibGVtKGVycm9yKS5hdCh3aGVyZSk7XG4gIH1cbn1cblxuLyoqIFRoZSByb3dzIG9mIGEgZmlsZSBvZiB0aGUgY29sbGVjdGlvbi4gQHRocm93cyBQcm9ibGVtIGZpbGUtbm90LWZvdW5kLCBmaWxlLW91dHNpZGUsIGRhdGEtc2hhcGUgKi9cbmV4cG9ydCBmdW5jdGlvbiBmaWxlUm93cyhyb290OiBzdHJpbmcsIGZpbGU6IHN0cmluZyk6IEFzeW5jSXRlcmFibGU8VmFsdWVNYXA+IHtcbiAgY29uc3Qgc291cmNlID0gcm93U291cmNlT2YoZmlsZSk7XG4gIHJldHVybiBzb3VyY2UucmVhZChjcmVhdGVSZWFkU3RyZWFtKHBhdGhJbnNpZGUocm9vdCwgZmlsZSkpLCBmaWxlKTtcbn1cblxuLyoqIFJvd3MgZnJvbSBhIHN0cmVhbSB3aXRob3V0IGEgbmFtZTogYSBsaXN0LCBsaW5lcyBvZiBvYmplY3RzLCBvciBDU1YsIGFzIGl0cyBmaXJzdCBsZXR0ZXIgc2F5cy4gKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiogc3RyZWFtUm93cyhzdHJlYW06IFJlYWRhYmxlKTogQXN5bmNHZW5lcmF0b3I8VmFsdWVNYXA+IHtcbiAgY29uc3QgbmFtZSA9ICdzdGFuZGFyZCBpbnB1dCc7XG4gIGNvbnN0IGZpcnN0ID0gYXdhaXQgZmlyc3RMZXR0ZXIoc3RyZWFtKTtcbiAgaWYgKGZpcnN0ID09PSB1bmRlZmluZWQpIHJldHVybjtcbiAgeWllbGQqIChmaXJzdCA9PT0gJ1snID8ganNvbiA6IGZpcnN0ID09PSAneycgPyBqc29ubCA6IGNzdikucmVhZChzdHJlYW0sIG5hbWUpO1xufVxuXG4vKiogV2hhdCBpcyByZWFkIGZvciBpdCBpcyBwdXQgYmFjay4gKi9cbmFzeW5jIGZ1bmN0aW9uIGZpcnN0TGV0dGVyKHN0cmVhbTogUmVhZGFibGUpOiBQcm9taXNlPHN0cmluZyB8IHVuZGVmaW5lZD4ge1xuICBmb3IgKDs7KSB7XG4gICAgY29uc3QgY2h1bmsgPSBzdHJlYW0ucmVhZCgpIGFzIEJ1ZmZlciB8IG51bGw7XG4gICAgaWYgKGNodW5rID09PSBudWxsKSB7XG4gICAgICBpZiAoc3RyZWFtLnJlYWRhYmxlRW5kZWQgfHwgc3RyZWFtLmRlc3Ryb3llZCkgcmV0dXJuIHVuZGVmaW5lZDtcbiAgICAgIGF3YWl0IG5ldyBQcm9taXNlPHZvaWQ+KChyZXNvbHZlKSA9PiB7XG4gICAgICAgIGNvbnN0IGdvID0gKCk6IHZvaWQgPT4ge1xuICAgICAgICAgIHN0cmVhbS5vZmYoJ3JlYWRhYmxlJywgZ28pLm9mZignZW5kJywgZ28pLm9mZignZXJyb3InLCBnbyk7XG4gICAgICAgICAgcmVzb2x2ZSgpO1xuICAgICAgICB9O1xuICAgICAgICBzdHJlYW0ub24oJ3JlYWRhYmxlJywgZ28pLm9uKCdlbmQnLCBnbykub24oJ2Vycm9yJywgZ28pO1xuICAgICAgfSk7XG4gICAgICBjb250aW51ZTtcbiAgICB9XG4gICAgY29uc3QgdGV4dCA9IGNodW5rLnRvU3RyaW5nKCd1dGY4JykucmVwbGFjZSgvXlxcdUZFRkYvLCAnJyk7XG4gICAgY29uc3QgZm91bmQgPSAvXFxTLy5leGVjKHRleHQpPy5bMF07XG4gICAgaWYgKGZvdW5kID09PSB1bmRlZmluZWQpIGNvbnRpbnVlO1xuICAgIHN0cmVhbS51bnNoaWZ0KGNodW5rKTtcbiAgICByZXR1cm4gZm91bmQ7XG4gIH1cbn1cbiIsICIvKiogQ1NWIChSRkMgNDE4MCkgd2l0aCBhIGZpcnN0IGxpbmUgb2YgbmFtZXMsIGJ5IGEgd2VsbC1rbm93biBsaWJyYXJ5LiAqL1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgdHlwZSB7IFJvd1NvdXJjZSB9IGZyb20gJy4vcm93LXNvdXJjZS5qcyc7XG5cbmxldCBwYXJzZTogdHlwZW9mIGltcG9ydCgnY3N2LXBhcnNlJykucGFyc2UgfCB1bmRlZmluZWQ7XG5cbmFzeW5jIGZ1bmN0aW9uIGxvYWQoKTogUHJvbWlzZTxOb25OdWxsYWJsZTx0eXBlb2YgcGFyc2U+PiB7XG4gIHBhcnNlID8/PSAoYXdhaXQgaW1wb3J0KCdjc3YtcGFyc2UnKSkucGFyc2U7XG4gIHJldHVybiBwYXJzZTtcbn1cblxuZXhwb3J0IGNvbnN0IGNzdjogUm93U291cmNlID0ge1xuICBuYW1lOiAnY3N2JyxcbiAgZW5kaW5nOiAvXFwuY3N2JC9pLFxuICBsb2FkLFxuICBhc3luYyAqcmVhZChzdHJlYW0sIGZpbGUpIHtcbiAgICBjb25zdCBwYXJzZXIgPSBzdHJlYW0ucGlwZSgoYXdhaXQgbG9hZCgpKSh7IGNvbHVtbnM6IHRydWUsIGJvbTogdHJ1ZSwgc2tpcF9lbXB0eV9saW5lczogdHJ1ZSwgdHJpbTogZmFsc2UgfSkpO1xuICAgIC8vIEEgcGlwZSBkb2VzIG5vdCBoYW5kIG9uIHdoYXQgZ29lcyB3cm9uZyB3aGVyZSBpdCByZWFkcy5cbiAgICBzdHJlYW0ub24oJ2Vycm9yJywgKGVycm9yKSA9PiBwYXJzZXIuZGVzdHJveShlcnJvcikpO1xuICAgIHRyeSB7XG4gICAgICBmb3IgYXdhaXQgKGNvbnN0IGNvbHVtbnMgb2YgcGFyc2VyIGFzIEFzeW5jSXRlcmFibGU8UmVjb3JkPHN0cmluZywgc3RyaW5nPj4pIHlpZWxkIGNvbHVtbnM7XG4gICAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICAgIGlmIChlcnJvciBpbnN0YW5jZW9mIFByb2JsZW0pIHRocm93IGVycm9yO1xuICAgICAgY29uc3QgeyBtZXNzYWdlLCBsaW5lcyB9ID0gZXJyb3IgYXMgRXJyb3IgJiB7IGxpbmVzPzogbnVtYmVyIH07XG4gICAgICB0aHJvdyBuZXcgUHJvYmxlbShcbiAgICAgICAgJ2RhdGEtc2hhcGUnLFxuICAgICAgICB7IHdoYXQ6IGAke2ZpbGV9IGlzIG5vdCB3ZWxsLWZvcm1lZCBDU1ZgLCB3aGVyZTogeyBmaWxlLCBsaW5lOiBsaW5lcyB9LCBjYXVzZTogbWVzc2FnZSB9LFxuICAgICAgICB7IGNhdXNlOiBlcnJvciB9LFxuICAgICAgKTtcbiAgICB9XG4gIH0sXG59O1xuIiwgIi8qKlxuICogQSBKU09OIGxpc3Qgb2Ygb2JqZWN0cywgcmVhZCBpdGVtIGJ5IGl0ZW06IHdoZXJlIGVhY2ggYmVnaW5zIGFuZCBlbmRzIGlzIGZvdW5kIGJ5IGl0cyBicmFja2V0cywgc28gdGhhdCBhIGxpc3Qgb2YgYW55XG4gKiBsZW5ndGggbmVlZHMgdGhlIG1lbW9yeSBvZiBvbmUgaXRlbSwgYW5kIG51bWJlcnMga2VlcCB0aGUgZGlnaXRzIHRoZXkgYXJlIHdyaXR0ZW4gd2l0aCAoUkZDIDgyNTkpLlxuICovXG5pbXBvcnQgdHlwZSB7IFJlYWRhYmxlIH0gZnJvbSAnbm9kZTpzdHJlYW0nO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBwYXJzZUpzb24gfSBmcm9tICcuLi8uLi92YWx1ZS9qc29uLXRleHQuanMnO1xuaW1wb3J0IHsgaXNWYWx1ZU1hcCwgdHlwZSBWYWx1ZSB9IGZyb20gJy4uLy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHR5cGUgeyBSb3dTb3VyY2UgfSBmcm9tICcuL3Jvdy1zb3VyY2UuanMnO1xuXG5leHBvcnQgY29uc3QganNvbjogUm93U291cmNlID0ge1xuICBuYW1lOiAnanNvbicsXG4gIGVuZGluZzogL1xcLmpzb24kL2ksXG4gIGFzeW5jICpyZWFkKHN0cmVhbSwgZmlsZSkge1xuICAgIGxldCBudW1iZXIgPSAwO1xuICAgIGZvciBhd2FpdCAoY29uc3QgdGV4dCBvZiBpdGVtc0luKHN0cmVhbSwgZmlsZSkpIHtcbiAgICAgIG51bWJlciArPSAxO1xuICAgICAgbGV0IGl0ZW06IFZhbHVlO1xuICAgICAgdHJ5IHtcbiAgICAgICAgaXRlbSA9IHBhcnNlSnNvbih0ZXh0KSBhcyBWYWx1ZTtcbiAgICAgIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgICAgIHRocm93IG5ldyBQcm9ibGVtKCdkYXRhLXNoYXBlJywge1xuICAgICAgICAgIHdoYXQ6IGBpdGVtICR7bnVtYmVyfSBvZiAke2ZpbGV9IGlzIG5vdCBKU09OYCxcbiAgICAgICAgICB3aGVyZTogeyBmaWxlIH0sXG4gICAgICAgICAgY2F1c2U6IChlcnJvciBhcyBFcnJvcikubWVzc2FnZSxcbiAgICAgICAgfSk7XG4gICAgICB9XG4gICAgICBpZiAoIWlzVmFsdWVNYXAoaXRlbSkpXG4gICAgICAgIHRocm93IG5ldyBQcm9ibGVtKCdkYXRhLXNoYXBlJywgeyB3aGF0OiBgaXRlbSAke251bWJlcn0gb2YgJHtmaWxlfSBtdXN0IGJlIGEgSlNPTiBvYmplY3RgLCB3aGVyZTogeyBmaWxlIH0gfSk7XG4gICAgICB5aWVsZCBpdGVtO1xuICAgIH1cbiAgfSxcbn07XG5cbi8qKiBUaGUgdGV4dHMgb2YgdGhlIGl0ZW1zIG9mIG9uZSBsaXN0LiAqL1xuYXN5bmMgZnVuY3Rpb24qIGl0ZW1zSW4oc3RyZWFtOiBSZWFkYWJsZSwgZmlsZTogc3RyaW5nKTogQXN5bmNHZW5lcmF0b3I8c3RyaW5nPiB7XG4gIGxldCBpdGVtID0gJyc7XG4gIGxldCBkZXB0aCA9IDA7XG4gIGxldCBpblRleHQgPSBmYWxzZTtcbiAgbGV0IGVzY2FwZWQgPSBmYWxzZTtcbiAgc3RyZWFtLnNldEVuY29kaW5nKCd1dGY4Jyk7XG4gIGZvciBhd2FpdCAoY29uc3QgY2h1bmsgb2Ygc3RyZWFtIGFzIEFzeW5jSXRlcmFibGU8c3RyaW5nPikge1xuICAgIGxldCBmcm9tID0gMDtcbiAgICBmb3IgKGxldCBhdCA9IDA7IGF0IDwgY2h1bmsubGVuZ3RoOyBhdCArPSAxKSB7XG4gICAgICBjb25zdCBsZXR0ZXIgPSBjaHVua1thdF0gYXMgc3RyaW5nO1xuICAgICAgaWYgKGluVGV4dCkge1xuICAgICAgICBpZiAoZXNjYXBlZCkgZXNjYXBlZCA9IGZhbHNlO1xuICAgICAgICBlbHNlIGlmIChsZXR0ZXIgPT09ICdcXFxcJykgZXNjYXBlZCA9IHRydWU7XG4gICAgICAgIGVsc2UgaWYgKGxldHRlciA9PT0gJ1wiJykgaW5UZXh0ID0gZmFsc2U7XG4gICAgICB9IGVsc2UgaWYgKGxldHRlciA9PT0gJ1wiJykgaW5UZXh0ID0gdHJ1ZTtcbiAgICAgIGVsc2UgaWYgKGxldHRlciA9PT0gJ1snIHx8IGxldHRlciA9PT0gJ3snKSB7XG4gICAgICAgIGRlcHRoICs9IDE7XG4gICAgICAgIGlmIChkZXB0aCA9PT0gMSkge1xuICAgICAgICAgIGlmIChsZXR0ZXIgIT09ICdbJykgdGhyb3cgbm90QUxpc3QoZmlsZSk7XG4gICAgICAgICAgZnJvbSA9IGF0ICsgMTtcbiAgICAgICAgfVxuICAgICAgfSBlbHNlIGlmIChsZXR0ZXIgPT09ICddJyB8fCBsZXR0ZXIgPT09ICd9JyB8fCAobGV0dGVyID09PSAnLCcgJiYgZGVwdGggPT09IDEpKSB7XG4gICAgICAgIGlmIChkZXB0aCA8PSAxKSB7XG4gICAgICAgICAgaXRlbSArPSBjaHVuay5zbGljZShmcm9tLCBhdCk7XG4gICAgICAgICAgaWYgKGl0ZW0udHJpbSgpICE9PSAnJykgeWllbGQgaXRlbTtcbiAgICAgICAgICBlbHNlIGlmIChsZXR0ZXIgPT09ICcsJykgdGhyb3cgbm90QUxpc3QoZmlsZSk7XG4gICAgICAgICAgaXRlbSA9ICcnO1xuICAgICAgICAgIGZyb20gPSBhdCArIDE7XG4gICAgICAgIH1cbiAgICAgICAgaWYgKGxldHRlciAhPT0gJywnKSBkZXB0aCAtPSAxO1xuICAgICAgfSBlbHNlIGlmIChkZXB0aCA9PT0gMCAmJiAhL1tcXHNcXHVGRUZGXS8udGVzdChsZXR0ZXIpKSB0aHJvdyBub3RBTGlzdChmaWxlKTtcbiAgICB9XG4gICAgaWYgKGRlcHRoID4gMCkgaXRlbSArPSBjaHVuay5zbGljZShmcm9tKTtcbiAgfVxuICBpZiAoZGVwdGggPiAwKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ2RhdGEtc2hhcGUnLCB7IHdoYXQ6IGAke2ZpbGV9IGVuZHMgaW4gdGhlIG1pZGRsZSBvZiBpdHMgbGlzdGAsIHdoZXJlOiB7IGZpbGUgfSB9KTtcbiAgfVxufVxuXG5jb25zdCBub3RBTGlzdCA9IChmaWxlOiBzdHJpbmcpOiBQcm9ibGVtID0+XG4gIG5ldyBQcm9ibGVtKCdkYXRhLXNoYXBlJywge1xuICAgIHdoYXQ6IGAke2ZpbGV9IGlzIG5vdCBhIEpTT04gbGlzdCBvZiBvYmplY3RzYCxcbiAgICB3aGVyZTogeyBmaWxlIH0sXG4gICAgcmVtZWR5OiAnZm9yIGEgbGlzdCBpbnNpZGUgYW5vdGhlciB2YWx1ZSwgc2VuZCBvciBrZWVwIGl0IGFuZCBnbyB0aHJvdWdoIGl0IHdpdGggZm9yLWVhY2gnLFxuICB9KTtcbiIsICIvKiogTGluZXMgb2YgSlNPTiwgYW4gb2JqZWN0IGVhY2guICovXG5pbXBvcnQgeyBjcmVhdGVJbnRlcmZhY2UgfSBmcm9tICdub2RlOnJlYWRsaW5lJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgcGFyc2VKc29uIH0gZnJvbSAnLi4vLi4vdmFsdWUvanNvbi10ZXh0LmpzJztcbmltcG9ydCB7IGlzVmFsdWVNYXAgfSBmcm9tICcuLi8uLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB0eXBlIHsgUm93U291cmNlIH0gZnJvbSAnLi9yb3ctc291cmNlLmpzJztcblxuZXhwb3J0IGNvbnN0IGpzb25sOiBSb3dTb3VyY2UgPSB7XG4gIG5hbWU6ICdqc29ubCcsXG4gIGVuZGluZzogL1xcLig/Ompzb25sfG5kanNvbikkL2ksXG4gIGFzeW5jICpyZWFkKHN0cmVhbSwgZmlsZSkge1xuICAgIGxldCBsaW5lID0gMDtcbiAgICBmb3IgYXdhaXQgKGNvbnN0IHRleHQgb2YgY3JlYXRlSW50ZXJmYWNlKHsgaW5wdXQ6IHN0cmVhbSwgY3JsZkRlbGF5OiBOdW1iZXIuUE9TSVRJVkVfSU5GSU5JVFkgfSkpIHtcbiAgICAgIGxpbmUgKz0gMTtcbiAgICAgIGlmICh0ZXh0LnRyaW0oKSA9PT0gJycpIGNvbnRpbnVlO1xuICAgICAgbGV0IGNvbHVtbnM6IHVua25vd247XG4gICAgICB0cnkge1xuICAgICAgICBjb2x1bW5zID0gcGFyc2VKc29uKHRleHQpO1xuICAgICAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ2RhdGEtc2hhcGUnLCB7XG4gICAgICAgICAgd2hhdDogYCR7ZmlsZX0gaXMgbm90IEpTT04gbGluZXNgLFxuICAgICAgICAgIHdoZXJlOiB7IGZpbGUsIGxpbmUgfSxcbiAgICAgICAgICBjYXVzZTogKGVycm9yIGFzIEVycm9yKS5tZXNzYWdlLFxuICAgICAgICB9KTtcbiAgICAgIH1cbiAgICAgIGlmICghaXNWYWx1ZU1hcChjb2x1bW5zKSlcbiAgICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ2RhdGEtc2hhcGUnLCB7IHdoYXQ6ICdhIHJvdyBtdXN0IGJlIGEgSlNPTiBvYmplY3QnLCB3aGVyZTogeyBmaWxlLCBsaW5lIH0gfSk7XG4gICAgICB5aWVsZCBjb2x1bW5zO1xuICAgIH1cbiAgfSxcbn07XG4iLCAiLyoqIEFib3V0IGhvdyBtYW55IHJvd3MgYSBmaWxlIGhhcywgZm9yIGhvdyBsb25nIGl0IHdpbGwgdGFrZTogbGluZXMgYXJlIGNvdW50ZWQsIHdoYXRldmVyIGlzIGluIHRoZW0uICovXG5pbXBvcnQgeyBjcmVhdGVSZWFkU3RyZWFtIH0gZnJvbSAnbm9kZTpmcyc7XG5pbXBvcnQgeyBwYXRoSW5zaWRlIH0gZnJvbSAnLi4vLi4vc3RvcmFnZS9pbnNpZGUuanMnO1xuXG4vKiogdW5kZWZpbmVkIG9mIGEgZm9ybWF0IGluIHdoaWNoIGEgbGluZSBpcyBubyByb3cgKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiByb3dzQWJvdXQocm9vdDogc3RyaW5nLCBmaWxlOiBzdHJpbmcpOiBQcm9taXNlPG51bWJlciB8IHVuZGVmaW5lZD4ge1xuICBjb25zdCBjc3YgPSAvXFwuY3N2JC9pLnRlc3QoZmlsZSk7XG4gIGlmICghY3N2ICYmICEvXFwuKD86anNvbmx8bmRqc29uKSQvaS50ZXN0KGZpbGUpKSByZXR1cm4gdW5kZWZpbmVkO1xuICBsZXQgbGluZXMgPSAwO1xuICBsZXQgbGFzdCA9IDEwO1xuICBmb3IgYXdhaXQgKGNvbnN0IGNodW5rIG9mIGNyZWF0ZVJlYWRTdHJlYW0ocGF0aEluc2lkZShyb290LCBmaWxlKSkgYXMgQXN5bmNJdGVyYWJsZTxCdWZmZXI+KSB7XG4gICAgZm9yIChsZXQgYXQgPSBjaHVuay5pbmRleE9mKDEwKTsgYXQgIT09IC0xOyBhdCA9IGNodW5rLmluZGV4T2YoMTAsIGF0ICsgMSkpIGxpbmVzICs9IDE7XG4gICAgbGFzdCA9IGNodW5rLmF0KC0xKSA/PyBsYXN0O1xuICB9XG4gIHJldHVybiBNYXRoLm1heCgwLCBsaW5lcyArIChsYXN0ID09PSAxMCA/IDAgOiAxKSAtIChjc3YgPyAxIDogMCkpO1xufVxuIiwgIi8qKiBXaGVyZSB0aGUgcm93cyBvZiBhIHRyYWlsIGNvbWUgZnJvbTogYSBmaWxlLCBzdGFuZGFyZCBpbnB1dCwgb3IgYSBsaXN0IHRoYXQgaXMgd29ya2VkIG91dC4gKi9cbmltcG9ydCB7IHZhcmlhYmxlTmFtZXMgfSBmcm9tICcuLi8uLi9jb2xsZWN0aW9uL2xheWVycy5qcyc7XG5pbXBvcnQgdHlwZSB7IFlhbWxGaWxlIH0gZnJvbSAnLi4vLi4vY29sbGVjdGlvbi95YW1sLmpzJztcbmltcG9ydCB0eXBlIHsgTG9hZHMgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL2NvbXBpbGUuanMnO1xuaW1wb3J0IHsgRXZhbHVhdGlvbiwgb21pdHRlZCB9IGZyb20gJy4uLy4uL2V4cHJlc3Npb24vZXZhbHVhdGlvbi5qcyc7XG5pbXBvcnQgeyBsYXllcmVkLCB0eXBlIE5hbWVzIH0gZnJvbSAnLi4vLi4vZXhwcmVzc2lvbi9uYW1lcy5qcyc7XG5pbXBvcnQgeyBjb21waWxlVHJlZSB9IGZyb20gJy4uLy4uL2V4cHJlc3Npb24vdHJlZS5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IGlzVmFsdWVNYXAsIHR5cGUgVmFsdWUsIHR5cGUgVmFsdWVNYXAgfSBmcm9tICcuLi8uLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB0eXBlIHsgV29ya3NwYWNlIH0gZnJvbSAnLi4vd29ya3NwYWNlLmpzJztcbmltcG9ydCB7IGZpbGVSb3dzLCByZWFkeVJvd3MsIHN0cmVhbVJvd3MgfSBmcm9tICcuL3JlZ2lzdHJ5LmpzJztcbmltcG9ydCB0eXBlIHsgUm93IH0gZnJvbSAnLi9yb3ctc291cmNlLmpzJztcbmltcG9ydCB7IHJvd3NBYm91dCB9IGZyb20gJy4vdG90YWwuanMnO1xuXG5leHBvcnQgaW50ZXJmYWNlIFJvd3NQbGFuIHtcbiAgLyoqIGBkYXRhL3Zlc3NlbHMuY3N2YCwgYHN0YW5kYXJkIGlucHV0YCwgYHRoZSBsaXN0YC4gKi9cbiAgcmVhZG9ubHkgZnJvbTogc3RyaW5nO1xuICAvKiogQHBhcmFtIG5hbWVzIHRoZSBpbnB1dHMgdGhhdCB0aGUgdHJhaWwgaGFzIGJlZm9yZSBhbnkgcm93ICovXG4gIHJlYWQod29ya3NwYWNlOiBXb3Jrc3BhY2UsIG5hbWVzOiBOYW1lcyk6IEFzeW5jSXRlcmFibGU8Um93PjtcbiAgLyoqIEFib3V0IGhvdyBtYW55IHRoZXJlIGFyZSwgd2hlcmUgdGhhdCBjYW4gYmUga25vd24gYWhlYWQuICovXG4gIGFib3V0KCk6IFByb21pc2U8bnVtYmVyIHwgdW5kZWZpbmVkPjtcbn1cblxuLyoqIEB0aHJvd3MgUHJvYmxlbSBmaWxlLW5vdC1mb3VuZCwgZmlsZS1vdXRzaWRlLCBkYXRhLXNoYXBlOiB0aGUgZmlsZSBjYW5ub3QgZ2l2ZSBhbnkgcm93cyAqL1xuZXhwb3J0IGZ1bmN0aW9uIHBsYW5Sb3dzKFxuICBnaXZlbjogc3RyaW5nIHwgcmVhZG9ubHkgVmFsdWVbXSxcbiAgeWFtbDogUGljazxZYW1sRmlsZSwgJ3Bvc2l0aW9uJz4sXG4gIGxvYWRzOiBMb2FkcyxcbiAgeyBjb2xsZWN0aW9uOiB7IHJvb3QgfSwgc3RhbmRhcmRJbnB1dCB9OiBXb3Jrc3BhY2UsXG4pOiBSb3dzUGxhbiB7XG4gIGlmIChnaXZlbiA9PT0gJy0nKSB7XG4gICAgaWYgKCFzdGFuZGFyZElucHV0KSB0aHJvdyBuZXcgUHJvYmxlbSgndXNhZ2UnLCB7IHdoYXQ6ICdyb3dzIGNvbWUgZnJvbSBzdGFuZGFyZCBpbnB1dCwgd2hpY2ggbm9ib2R5IHJlYWRzIGhlcmUnIH0pO1xuICAgIHJldHVybiB7IGZyb206ICdzdGFuZGFyZCBpbnB1dCcsIHJlYWQ6ICgpID0+IG51bWJlcmVkKHN0cmVhbVJvd3Moc3RhbmRhcmRJbnB1dCgpKSksIGFib3V0OiB1bmtub3duIH07XG4gIH1cbiAgaWYgKHR5cGVvZiBnaXZlbiA9PT0gJ3N0cmluZycgJiYgIWdpdmVuLmluY2x1ZGVzKCckeycpKSB7XG4gICAgcmVhZHlSb3dzKHJvb3QsIGdpdmVuLCBsb2FkcywgeWFtbC5wb3NpdGlvbihbJ3Jvd3MnXSkpO1xuICAgIHJldHVybiB7XG4gICAgICBmcm9tOiBnaXZlbixcbiAgICAgIHJlYWQ6ICgpID0+IG51bWJlcmVkKGZpbGVSb3dzKHJvb3QsIGdpdmVuKSksXG4gICAgICBhYm91dDogKCkgPT4gcm93c0Fib3V0KHJvb3QsIGdpdmVuKSxcbiAgICB9O1xuICB9XG4gIGNvbnN0IHdoZXJlID0geWFtbC5wb3NpdGlvbihbJ3Jvd3MnXSk7XG4gIGNvbnN0IHRyZWUgPSBjb21waWxlVHJlZShnaXZlbiBhcyBWYWx1ZSwgKHBhdGgpID0+IHlhbWwucG9zaXRpb24oWydyb3dzJywgLi4ucGF0aF0pLCBsb2Fkcyk7XG4gIHJldHVybiB7XG4gICAgZnJvbTogJ3RoZSBsaXN0JyxcbiAgICBhYm91dDogdW5rbm93bixcbiAgICByZWFkKHdvcmtzcGFjZSwgb3duKSB7XG4gICAgICBjb25zdCBzdXJyb3VuZGluZ3MgPSB7IHdvcmxkOiB3b3Jrc3BhY2Uud29ybGQoKSwgb25TZWNyZXQ6IHdvcmtzcGFjZS5yZWRhY3Rvci5hZGQgfTtcbiAgICAgIGNvbnN0IG5hbWVzID0gbGF5ZXJlZChvd24sIHZhcmlhYmxlTmFtZXMod29ya3NwYWNlLmxheWVycywgb3duLCBzdXJyb3VuZGluZ3MpKTtcbiAgICAgIGNvbnN0IHZhbHVlID0gdHJlZS5ldmFsdWF0ZShuZXcgRXZhbHVhdGlvbihuYW1lcywgc3Vycm91bmRpbmdzKSk7XG4gICAgICBpZiAodmFsdWUgIT09IG9taXR0ZWQgJiYgQXJyYXkuaXNBcnJheSh2YWx1ZSkpIHJldHVybiBudW1iZXJlZChhc1Jvd3ModmFsdWUgYXMgcmVhZG9ubHkgVmFsdWVbXSkpO1xuICAgICAgdGhyb3cgbmV3IFByb2JsZW0oJ2RhdGEtc2hhcGUnLCB7IHdoYXQ6ICdyb3dzIG11c3QgYmUgYSBsaXN0LCBhbmQgdGhlIGV4cHJlc3Npb24gZ2l2ZXMgbm9uZScsIHdoZXJlIH0pO1xuICAgIH0sXG4gIH07XG59XG5cbmNvbnN0IHVua25vd24gPSBhc3luYyAoKTogUHJvbWlzZTx1bmRlZmluZWQ+ID0+IHVuZGVmaW5lZDtcblxuLyoqIFdoYXQgaXMgbm8gbWFwIGJlY29tZXMgYSByb3cgd2l0aCB0aGUgY29sdW1uIGB2YWx1ZWAuICovXG5hc3luYyBmdW5jdGlvbiogYXNSb3dzKGl0ZW1zOiByZWFkb25seSBWYWx1ZVtdKTogQXN5bmNHZW5lcmF0b3I8VmFsdWVNYXA+IHtcbiAgZm9yIChjb25zdCBpdGVtIG9mIGl0ZW1zKSB5aWVsZCBpc1ZhbHVlTWFwKGl0ZW0pID8gaXRlbSA6IHsgdmFsdWU6IGl0ZW0gfTtcbn1cblxuYXN5bmMgZnVuY3Rpb24qIG51bWJlcmVkKHJvd3M6IEFzeW5jSXRlcmFibGU8VmFsdWVNYXA+KTogQXN5bmNHZW5lcmF0b3I8Um93PiB7XG4gIGxldCBudW1iZXIgPSAwO1xuICBmb3IgYXdhaXQgKGNvbnN0IGNvbHVtbnMgb2Ygcm93cykge1xuICAgIG51bWJlciArPSAxO1xuICAgIHlpZWxkIHsgbnVtYmVyLCBjb2x1bW5zIH07XG4gIH1cbn1cbiIsICIvKiogYGdpdmVgOiB2YWx1ZXMgZm9yIHRoZSBpbnB1dHMgb2YgYSByZXF1ZXN0IG9yIGEgdHJhaWwsIHdvcmtlZCBvdXQgd2l0aCB0aGUgbmFtZXMgb2YgdGhlIHdhbGsuICovXG5pbXBvcnQgeyB2YXJpYWJsZU5hbWVzIH0gZnJvbSAnLi4vY29sbGVjdGlvbi9sYXllcnMuanMnO1xuaW1wb3J0IHsgRXZhbHVhdGlvbiwgb21pdHRlZCB9IGZyb20gJy4uL2V4cHJlc3Npb24vZXZhbHVhdGlvbi5qcyc7XG5pbXBvcnQgeyBsYXllcmVkLCB0eXBlIE5hbWVkIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi9uYW1lcy5qcyc7XG5pbXBvcnQgeyBjb21waWxlVHJlZSwgdHlwZSBUcmVlIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi90cmVlLmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUgfSBmcm9tICcuLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB0eXBlIHsgU2NvcGUgfSBmcm9tICcuL3Njb3BlLmpzJztcbmltcG9ydCB0eXBlIHsgUGxhblJvb20gfSBmcm9tICcuL3N0ZXAta2luZC5qcyc7XG5pbXBvcnQgdHlwZSB7IFdvcmtzcGFjZSB9IGZyb20gJy4vd29ya3NwYWNlLmpzJztcblxuZXhwb3J0IHR5cGUgR2l2ZXMgPSBSZWFkb25seU1hcDxzdHJpbmcsIFRyZWU+O1xuXG5leHBvcnQgZnVuY3Rpb24gcGxhbkdpdmVzKFxuICB2YWx1ZXM6IFJlYWRvbmx5PFJlY29yZDxzdHJpbmcsIFZhbHVlPj4gfCB1bmRlZmluZWQsXG4gIHsgeWFtbCwgbG9hZHMgfTogUGljazxQbGFuUm9vbSwgJ3lhbWwnIHwgJ2xvYWRzJz4sXG4gIHBhdGg6IHJlYWRvbmx5IChzdHJpbmcgfCBudW1iZXIpW10sXG4pOiBHaXZlcyB7XG4gIHJldHVybiBuZXcgTWFwKFxuICAgIE9iamVjdC5lbnRyaWVzKHZhbHVlcyA/PyB7fSkubWFwKChba2V5LCB2YWx1ZV0pID0+IFtcbiAgICAgIGtleSxcbiAgICAgIGNvbXBpbGVUcmVlKHZhbHVlLCAoaW5uZXIpID0+IHlhbWwucG9zaXRpb24oWy4uLnBhdGgsIGtleSwgLi4uaW5uZXJdKSwgbG9hZHMpLFxuICAgIF0pLFxuICApO1xufVxuXG4vKiogV2hhdCBhIHdhbGsgZXZhbHVhdGVzIHdpdGg6IGl0cyBvd24gbmFtZXMsIHRoZW4gdGhlIHZhcmlhYmxlcy4gKi9cbmV4cG9ydCBmdW5jdGlvbiB3YWxrRXZhbHVhdGlvbih3b3Jrc3BhY2U6IFdvcmtzcGFjZSwgc2NvcGU6IFNjb3BlKTogRXZhbHVhdGlvbiB7XG4gIGNvbnN0IHN1cnJvdW5kaW5ncyA9IHsgd29ybGQ6IHdvcmtzcGFjZS53b3JsZCgpLCBvblNlY3JldDogd29ya3NwYWNlLnJlZGFjdG9yLmFkZCB9O1xuICByZXR1cm4gbmV3IEV2YWx1YXRpb24obGF5ZXJlZChzY29wZSwgdmFyaWFibGVOYW1lcyh3b3Jrc3BhY2UubGF5ZXJzLCBzY29wZSwgc3Vycm91bmRpbmdzKSksIHN1cnJvdW5kaW5ncyk7XG59XG5cbmV4cG9ydCBmdW5jdGlvbiBldmFsdWF0ZWQodHJlZTogVHJlZSwgZXZhbHVhdGlvbjogRXZhbHVhdGlvbiwgb3JpZ2luOiBzdHJpbmcpOiBOYW1lZCB8IHVuZGVmaW5lZCB7XG4gIGNvbnN0IGlubmVyID0gbmV3IEV2YWx1YXRpb24oZXZhbHVhdGlvbi5uYW1lcywgZXZhbHVhdGlvbik7XG4gIGNvbnN0IHZhbHVlID0gdHJlZS5ldmFsdWF0ZShpbm5lcik7XG4gIHJldHVybiB2YWx1ZSA9PT0gb21pdHRlZCA/IHVuZGVmaW5lZCA6IHsgdmFsdWUsIG9yaWdpbiwgc2VjcmV0OiBpbm5lci50b3VjaGVkU2VjcmV0IH07XG59XG5cbi8qKiBUaGUgdmFsdWUgZm9yIGFuIGlucHV0OiB3aGF0IHRoZSBzdGVwIGdpdmVzLCBlbHNlIHdoYXQgdGhlIHdhbGsga25vd3MgdW5kZXIgdGhhdCBuYW1lLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGdpdmVyKFxuICBnaXZlczogR2l2ZXMsXG4gIHdvcmtzcGFjZTogV29ya3NwYWNlLFxuICBzY29wZTogU2NvcGUsXG4gIGxhYmVsOiBzdHJpbmcsXG4pOiAoaW5wdXQ6IHN0cmluZykgPT4gTmFtZWQgfCB1bmRlZmluZWQge1xuICBsZXQgZXZhbHVhdGlvbjogRXZhbHVhdGlvbiB8IHVuZGVmaW5lZDtcbiAgcmV0dXJuIChpbnB1dCkgPT4ge1xuICAgIGNvbnN0IHRyZWUgPSBnaXZlcy5nZXQoaW5wdXQpO1xuICAgIGlmICghdHJlZSkgcmV0dXJuIHNjb3BlLmxvb2t1cChpbnB1dCk7XG4gICAgZXZhbHVhdGlvbiA/Pz0gd2Fsa0V2YWx1YXRpb24od29ya3NwYWNlLCBzY29wZSk7XG4gICAgcmV0dXJuIGV2YWx1YXRlZCh0cmVlLCBldmFsdWF0aW9uLCBgZ2l2ZW4gYnkgc3RlcCAke2xhYmVsfWApO1xuICB9O1xufVxuIiwgIi8qKiBTZWNyZXRzIHRoYXQgYSB3YWxrIHdpbGwgbmVlZCBhcmUgbG9va2VkIGZvciBiZWZvcmUgaXRzIGZpcnN0IHN0ZXA6IGEgbWlzc2luZyBvbmUgZmFpbHMgZXZlcnkgcm93IGFsaWtlLiAqL1xuaW1wb3J0IHR5cGUgeyBDb2xsZWN0aW9uLCBMb2FkZWQgfSBmcm9tICcuLi9jb2xsZWN0aW9uL2NvbGxlY3Rpb24uanMnO1xuaW1wb3J0IHR5cGUgeyBSZXF1ZXN0RmlsZSB9IGZyb20gJy4uL2NvbGxlY3Rpb24vZmlsZXMvcmVxdWVzdC1maWxlLmpzJztcbmltcG9ydCB0eXBlIHsgWWFtbEZpbGUgfSBmcm9tICcuLi9jb2xsZWN0aW9uL3lhbWwuanMnO1xuaW1wb3J0IHsgbmFtZXNVc2VkIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi9uYW1lcy11c2VkLmpzJztcbmltcG9ydCB7IHR5cGUgRmlsZVBvc2l0aW9uLCBQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHNlc3Npb25LaW5kcyB9IGZyb20gJy4uL3Nlc3Npb24vcmVnaXN0cnkuanMnO1xuaW1wb3J0IHR5cGUgeyBWYWx1ZSB9IGZyb20gJy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHR5cGUgeyBUcmFpbFBsYW4gfSBmcm9tICcuL3N0ZXAta2luZC5qcyc7XG5pbXBvcnQgdHlwZSB7IFdvcmtzcGFjZSB9IGZyb20gJy4vd29ya3NwYWNlLmpzJztcblxuLyoqIEEgc2VjcmV0IGJ5IGEgbmFtZSwgYW5kIGEga2V5LCB0aGF0IGFyZSB3cml0dGVuIG91dC4gKi9cbmV4cG9ydCBpbnRlcmZhY2UgU2VjcmV0VXNlIHtcbiAgcmVhZG9ubHkgbmFtZTogc3RyaW5nO1xuICByZWFkb25seSBrZXk6IHN0cmluZyB8IHVuZGVmaW5lZDtcbiAgcmVhZG9ubHkgd2hlcmU6IEZpbGVQb3NpdGlvbjtcbn1cblxuLyoqIFRob3NlIHRoYXQgYXJlIGFsd2F5cyBuZWVkZWQgd2hlcmUgdGhlIHZhbHVlIGlzLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHNlY3JldHNJbihcbiAgdmFsdWU6IHVua25vd24sXG4gIHlhbWw6IFBpY2s8WWFtbEZpbGUsICdwb3NpdGlvbic+LFxuICBwYXRoOiByZWFkb25seSAoc3RyaW5nIHwgbnVtYmVyKVtdID0gW10sXG4pOiBTZWNyZXRVc2VbXSB7XG4gIHJldHVybiBuYW1lc1VzZWQoKHZhbHVlID8/IG51bGwpIGFzIFZhbHVlLCBwYXRoKS5mbGF0TWFwKCh7IHNlY3JldCwga2V5cyA9IFtdLCBwYXRoOiBhdCwgb3B0aW9uYWwsIGNvbXB1dGVkIH0pID0+XG4gICAgc2VjcmV0ID09PSB1bmRlZmluZWQgfHwgb3B0aW9uYWwgfHwgY29tcHV0ZWQgPyBbXSA6IFt7IG5hbWU6IHNlY3JldCwga2V5OiBrZXlzWzFdLCB3aGVyZTogeWFtbC5wb3NpdGlvbihbLi4uYXRdKSB9XSxcbiAgKTtcbn1cblxuY29uc3QgcGFydHMgPSBbJ3VybCcsICdwYXRoJywgJ3F1ZXJ5JywgJ2hlYWRlcnMnLCAnY29va2llcycsICdib2R5J10gYXMgY29uc3Q7XG5cbi8qKiBPZiBhIHJlcXVlc3QsIGl0cyBzaWduYXR1cmUsIGFuZCB0aGUgc2Vzc2lvbnMgdGhhdCBuZWVkIG5vdCBiZSBvcGVuZWQgZmlyc3QuICovXG5leHBvcnQgZnVuY3Rpb24gc2VjcmV0c09mKFxuICB7IGNvbGxlY3Rpb24gfTogUGljazxXb3Jrc3BhY2UsICdjb2xsZWN0aW9uJz4sXG4gIHsgY29udGVudCwgeWFtbCwgbmFtZSB9OiBMb2FkZWQ8UmVxdWVzdEZpbGU+LFxuICBzZXNzaW9uczogcmVhZG9ubHkgc3RyaW5nW10sXG4gIHNpZ25hdHVyZTogc3RyaW5nIHwgdW5kZWZpbmVkLFxuKTogU2VjcmV0VXNlW10ge1xuICByZXR1cm4gW1xuICAgIC4uLnBhcnRzLmZsYXRNYXAoKHBhcnQpID0+IHNlY3JldHNJbihjb250ZW50W3BhcnRdLCB5YW1sLCBbcGFydF0pKSxcbiAgICAuLi5jb2xsZWN0aW9uXG4gICAgICAuZGVmYXVsdHMobmFtZSlcbiAgICAgIC5mbGF0TWFwKChkZWZhdWx0cykgPT5cbiAgICAgICAgKFsnaGVhZGVycycsICdxdWVyeSddIGFzIGNvbnN0KS5mbGF0TWFwKChwYXJ0KSA9PlxuICAgICAgICAgIE9iamVjdC5lbnRyaWVzKGRlZmF1bHRzLmNvbnRlbnRbcGFydF0gPz8ge30pLmZsYXRNYXAoKFtrZXksIHZhbHVlXSkgPT5cbiAgICAgICAgICAgIE9iamVjdC5rZXlzKGNvbnRlbnRbcGFydF0gPz8ge30pLnNvbWUoKG93bikgPT4gb3duLnRvTG93ZXJDYXNlKCkgPT09IGtleS50b0xvd2VyQ2FzZSgpKVxuICAgICAgICAgICAgICA/IFtdXG4gICAgICAgICAgICAgIDogc2VjcmV0c0luKHZhbHVlLCBkZWZhdWx0cy55YW1sLCBbcGFydCwga2V5XSksXG4gICAgICAgICAgKSxcbiAgICAgICAgKSxcbiAgICAgICksXG4gICAgLi4uKHNpZ25hdHVyZSA9PT0gdW5kZWZpbmVkID8gW10gOiBmaWxlU2VjcmV0cyhjb2xsZWN0aW9uLCAnc2lnbmF0dXJlJywgc2lnbmF0dXJlKSksXG4gICAgLi4uc2Vzc2lvbnMuZmxhdE1hcCgoc2Vzc2lvbikgPT4gZmlsZVNlY3JldHMoY29sbGVjdGlvbiwgJ3Nlc3Npb24nLCBzZXNzaW9uKSksXG4gIF07XG59XG5cbi8qKiBXaGF0IG9wZW5zIGEgc2Vzc2lvbiBtYXkgaGF2ZSBvcGVuZWQgaXQgYWxyZWFkeS4gKi9cbmZ1bmN0aW9uIGZpbGVTZWNyZXRzKGNvbGxlY3Rpb246IENvbGxlY3Rpb24sIGtpbmQ6ICdzaWduYXR1cmUnIHwgJ3Nlc3Npb24nLCBnaXZlbjogc3RyaW5nKTogU2VjcmV0VXNlW10ge1xuICB0cnkge1xuICAgIGNvbnN0IHsgY29udGVudCwgeWFtbCB9ID0gY29sbGVjdGlvbi5yZWFkKGtpbmQsIGdpdmVuKTtcbiAgICBpZiAoa2luZCA9PT0gJ3Nlc3Npb24nICYmIHNlc3Npb25LaW5kcy5nZXQoY29udGVudC5raW5kID8/ICcnKT8ub3BlbikgcmV0dXJuIFtdO1xuICAgIGNvbnN0IHsgZXhhbXBsZXM6IF8sIGFib3V0OiBfXywgLi4udXNlZCB9ID0gY29udGVudCBhcyBSZWNvcmQ8c3RyaW5nLCB1bmtub3duPjtcbiAgICByZXR1cm4gc2VjcmV0c0luKHVzZWQsIHlhbWwpO1xuICB9IGNhdGNoIHtcbiAgICAvLyBXaGF0IGlzIHdyb25nIHdpdGggdGhlIGZpbGUgaXMgdG9sZCB3aGVuIGl0IGlzIHVzZWQuXG4gICAgcmV0dXJuIFtdO1xuICB9XG59XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gc2VjcmV0LW1pc3Npbmc6IGFsbCBvZiB0aGVtIGF0IG9uY2UgKi9cbmV4cG9ydCBmdW5jdGlvbiBkZW1hbmRTZWNyZXRzKHdvcmtzcGFjZTogV29ya3NwYWNlLCBwbGFuczogcmVhZG9ubHkgVHJhaWxQbGFuW10pOiB2b2lkIHtcbiAgY29uc3Qgd29ybGQgPSB3b3Jrc3BhY2Uud29ybGQoKTtcbiAgY29uc3QgbWlzc2luZyA9IG5ldyBNYXA8c3RyaW5nLCBTZWNyZXRVc2U+KCk7XG4gIGZvciAoY29uc3QgeyBzdGVwcyB9IG9mIHBsYW5zKSB7XG4gICAgZm9yIChjb25zdCB7IHNlY3JldHMsIHdoZW4gfSBvZiBzdGVwcykge1xuICAgICAgLy8gV2hldGhlciBhIHN0ZXAgd2l0aCBhIGNvbmRpdGlvbiBpcyB0YWtlbiBpcyBrbm93biBvbmx5IHRoZW4uXG4gICAgICBpZiAod2hlbikgY29udGludWU7XG4gICAgICBmb3IgKGNvbnN0IHVzZSBvZiBzZWNyZXRzKSB7XG4gICAgICAgIGNvbnN0IGZ1bGwgPSB1c2Uua2V5ID09PSB1bmRlZmluZWQgPyB1c2UubmFtZSA6IGAke3VzZS5uYW1lfVske3VzZS5rZXl9XWA7XG4gICAgICAgIGlmICghbWlzc2luZy5oYXMoZnVsbCkgJiYgd29ybGQuc2VjcmV0KHVzZS5uYW1lLCB1c2Uua2V5KSA9PT0gdW5kZWZpbmVkKSBtaXNzaW5nLnNldChmdWxsLCB1c2UpO1xuICAgICAgfVxuICAgIH1cbiAgfVxuICBjb25zdCBbZmlyc3RdID0gbWlzc2luZztcbiAgaWYgKCFmaXJzdCkgcmV0dXJuO1xuICBjb25zdCBuYW1lcyA9IFsuLi5taXNzaW5nLmtleXMoKV07XG4gIHRocm93IG5ldyBQcm9ibGVtKCdzZWNyZXQtbWlzc2luZycsIHtcbiAgICB3aGF0OiBuYW1lcy5sZW5ndGggPT09IDEgPyBgdGhlIHNlY3JldCAke25hbWVzWzBdfSBpcyBub3Qgc2V0YCA6IGB0aGUgc2VjcmV0cyAke25hbWVzLmpvaW4oJywgJyl9IGFyZSBub3Qgc2V0YCxcbiAgICB3aGVyZTogZmlyc3RbMV0ud2hlcmUsXG4gICAgcmVtZWR5OiBgJHtuYW1lcy5tYXAoKG5hbWUpID0+IGBlY2hvLXRyYWlsIHNlY3JldCBzZXQgJHsvW1tcXF1dLy50ZXN0KG5hbWUpID8gYCcke25hbWV9J2AgOiBuYW1lfWApLmpvaW4oJywgJyl9OyBub3RoaW5nIHdhcyBzZW50YCxcbiAgICBkYXRhOiB7IG5hbWVzIH0sXG4gIH0pO1xufVxuIiwgIi8qKiBgY2hvb3NlYDogYSBwZXJzb24gcGlja3Mgb25lIG9mIGEgbGlzdDsgdW5hdHRlbmRlZCwgYC0tc2V0YCBzYXlzIHdoaWNoLiAqL1xuaW1wb3J0IHR5cGUgeyBDaG9vc2VTdGVwRmlsZSB9IGZyb20gJy4uLy4uL2NvbGxlY3Rpb24vZmlsZXMvdHJhaWwtZmlsZS5qcyc7XG5pbXBvcnQgeyBjb21waWxlVHJlZSwgdHlwZSBUcmVlIH0gZnJvbSAnLi4vLi4vZXhwcmVzc2lvbi90cmVlLmpzJztcbmltcG9ydCB7IG5lYXJlc3RIaW50IH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9uZWFyZXN0LmpzJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgdGV4dE9mIH0gZnJvbSAnLi4vLi4vdmFsdWUvdGV4dC5qcyc7XG5pbXBvcnQgdHlwZSB7IFZhbHVlIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyBldmFsdWF0ZWQsIHdhbGtFdmFsdWF0aW9uIH0gZnJvbSAnLi4vZ2l2aW5nLmpzJztcbmltcG9ydCB7IFNjb3BlIH0gZnJvbSAnLi4vc2NvcGUuanMnO1xuaW1wb3J0IHsgc2VjcmV0c0luIH0gZnJvbSAnLi4vc2VjcmV0cy1haGVhZC5qcyc7XG5pbXBvcnQgdHlwZSB7IFN0ZXBLaW5kLCBXYWxrIH0gZnJvbSAnLi4vc3RlcC1raW5kLmpzJztcblxuZXhwb3J0IGludGVyZmFjZSBDaG9pY2Uge1xuICByZWFkb25seSBsYWJlbDogc3RyaW5nO1xuICByZWFkb25seSB2YWx1ZTogVmFsdWU7XG4gIHJlYWRvbmx5IHNlY3JldDogYm9vbGVhbjtcbn1cblxuZXhwb3J0IGNvbnN0IGNob29zZTogU3RlcEtpbmQ8Q2hvb3NlU3RlcEZpbGU+ID0ge1xuICBuYW1lOiAnY2hvb3NlJyxcbiAgZml0czogKGZpbGUpOiBmaWxlIGlzIENob29zZVN0ZXBGaWxlID0+ICdjaG9vc2UnIGluIGZpbGUsXG4gIGFzeW5jIHBsYW4oeyBjaG9vc2U6IHNwZWMsIG5hbWUgfSwgeyB5YW1sLCBwYXRoLCBsb2FkcyB9KSB7XG4gICAgY29uc3QgYXQgPSAoa2V5OiBzdHJpbmcpID0+IChpbm5lcjogcmVhZG9ubHkgKHN0cmluZyB8IG51bWJlcilbXSkgPT5cbiAgICAgIHlhbWwucG9zaXRpb24oWy4uLnBhdGgsICdjaG9vc2UnLCBrZXksIC4uLmlubmVyXSk7XG4gICAgY29uc3QgZnJvbSA9IGNvbXBpbGVUcmVlKHNwZWMuZnJvbSwgYXQoJ2Zyb20nKSwgbG9hZHMpO1xuICAgIGNvbnN0IGxhYmVscyA9IHNwZWMubGFiZWwgPT09IHVuZGVmaW5lZCA/IHVuZGVmaW5lZCA6IGNvbXBpbGVUcmVlKHNwZWMubGFiZWwsIGF0KCdsYWJlbCcpLCBsb2Fkcyk7XG4gICAgY29uc3QgdmFsdWVzID0gc3BlYy52YWx1ZSA9PT0gdW5kZWZpbmVkID8gdW5kZWZpbmVkIDogY29tcGlsZVRyZWUoc3BlYy52YWx1ZSwgYXQoJ3ZhbHVlJyksIGxvYWRzKTtcbiAgICBjb25zdCBsYWJlbCA9IG5hbWUgPz8gYGNob29zZSAke3NwZWMuYXN9YDtcbiAgICByZXR1cm4ge1xuICAgICAga2luZDogJ2Nob29zZScsXG4gICAgICBsYWJlbCxcbiAgICAgIGNoYW5nZXM6IDAsXG4gICAgICByZXF1ZXN0czogW10sXG4gICAgICB0YWtlczogW3NwZWMuYXNdLFxuICAgICAgc2VjcmV0czogc2VjcmV0c0luKHNwZWMsIHlhbWwsIFsuLi5wYXRoLCAnY2hvb3NlJ10pLFxuICAgICAgYXN5bmMgd2Fsayh3YWxrKSB7XG4gICAgICAgIGNvbnN0IGNob2ljZXMgPSBjaG9pY2VzSW4oZnJvbSwgbGFiZWxzLCB2YWx1ZXMsIHdhbGssIGxhYmVsKTtcbiAgICAgICAgY29uc3QgZ2l2ZW4gPSB3YWxrLndvcmtzcGFjZS5zZXR0aW5ncy5nZXQoc3BlYy5hcyk7XG4gICAgICAgIGNvbnN0IGNob3NlbiA9IGdpdmVuID09PSB1bmRlZmluZWQgPyBhd2FpdCBhc2soc3BlYy5hcywgY2hvaWNlcywgd2FsaykgOiBmaXR0aW5nKHNwZWMuYXMsIGdpdmVuLCBjaG9pY2VzKTtcbiAgICAgICAgY29uc3QgeyB2YWx1ZSwgc2VjcmV0IH0gPSBjaG9zZW47XG4gICAgICAgIHdhbGsuc2NvcGUuc2V0KHNwZWMuYXMsIHsgdmFsdWUsIHNlY3JldCwgb3JpZ2luOiBgY2hvc2VuIGJ5IHN0ZXAgJHtsYWJlbH1gIH0pO1xuICAgICAgICByZXR1cm4geyBzZW50OiB1bmRlZmluZWQsIGtlcHQ6IFtzcGVjLmFzXSwgcHJvYmxlbXM6IFtdLCB0b2xkOiB7IGNob3NlbjogY2hvc2VuLmxhYmVsIH0gfTtcbiAgICAgIH0sXG4gICAgICByZXN0b3JlOiAoKSA9PiB1bmRlZmluZWQsXG4gICAgfTtcbiAgfSxcbn07XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gZGF0YS1zaGFwZTogbm8gbGlzdCwgb3IgYW4gZW1wdHkgb25lICovXG5mdW5jdGlvbiBjaG9pY2VzSW4oXG4gIGZyb206IFRyZWUsXG4gIGxhYmVsczogVHJlZSB8IHVuZGVmaW5lZCxcbiAgdmFsdWVzOiBUcmVlIHwgdW5kZWZpbmVkLFxuICB7IHdvcmtzcGFjZSwgc2NvcGUgfTogV2FsayxcbiAgbGFiZWw6IHN0cmluZyxcbik6IHJlYWRvbmx5IENob2ljZVtdIHtcbiAgY29uc3QgbGlzdCA9IGV2YWx1YXRlZChmcm9tLCB3YWxrRXZhbHVhdGlvbih3b3Jrc3BhY2UsIHNjb3BlKSwgbGFiZWwpO1xuICBpZiAoIWxpc3QgfHwgIUFycmF5LmlzQXJyYXkobGlzdC52YWx1ZSkgfHwgbGlzdC52YWx1ZS5sZW5ndGggPT09IDApIHtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgnZGF0YS1zaGFwZScsIHtcbiAgICAgIHdoYXQ6IGAke2xhYmVsfTogdGhlcmUgaXMgbm90aGluZyB0byBjaG9vc2UgZnJvbWAsXG4gICAgICBjYXVzZTogQXJyYXkuaXNBcnJheShsaXN0Py52YWx1ZSkgPyAndGhlIGxpc3QgaXMgZW1wdHknIDogJ2Zyb20gaXMgbm8gbGlzdCcsXG4gICAgfSk7XG4gIH1cbiAgcmV0dXJuIChsaXN0LnZhbHVlIGFzIHJlYWRvbmx5IFZhbHVlW10pLm1hcCgoaXRlbSkgPT4ge1xuICAgIGNvbnN0IG5hbWVkID0gbmV3IE1hcChbWydpdGVtJywgeyB2YWx1ZTogaXRlbSwgc2VjcmV0OiBsaXN0LnNlY3JldCwgb3JpZ2luOiBsYWJlbCB9XV0pO1xuICAgIGNvbnN0IG93biA9IHdhbGtFdmFsdWF0aW9uKHdvcmtzcGFjZSwgbmV3IFNjb3BlKG5hbWVkLCBsYWJlbCwgc2NvcGUpKTtcbiAgICBjb25zdCB2YWx1ZSA9IHZhbHVlcyA/IGV2YWx1YXRlZCh2YWx1ZXMsIG93biwgbGFiZWwpIDogdW5kZWZpbmVkO1xuICAgIGNvbnN0IHRleHQgPSBsYWJlbHMgPyBldmFsdWF0ZWQobGFiZWxzLCBvd24sIGxhYmVsKT8udmFsdWUgOiBpdGVtO1xuICAgIHJldHVybiB7XG4gICAgICBsYWJlbDogdGV4dE9mKHRleHQgPz8gaXRlbSksXG4gICAgICB2YWx1ZTogdmFsdWU/LnZhbHVlID8/IGl0ZW0sXG4gICAgICBzZWNyZXQ6ICh2YWx1ZT8uc2VjcmV0ID8/IGxpc3Quc2VjcmV0KSA9PT0gdHJ1ZSxcbiAgICB9O1xuICB9KTtcbn1cblxuLyoqIEB0aHJvd3MgUHJvYmxlbSBpbnB1dC1taXNzaW5nOiBub2JvZHkgaXMgdGhlcmUgdG8gYXNrICovXG5hc3luYyBmdW5jdGlvbiBhc2sobmFtZTogc3RyaW5nLCBjaG9pY2VzOiByZWFkb25seSBDaG9pY2VbXSwgeyB3b3Jrc3BhY2UgfTogV2Fsayk6IFByb21pc2U8Q2hvaWNlPiB7XG4gIGlmICghd29ya3NwYWNlLmNob29zZSkge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCdpbnB1dC1taXNzaW5nJywge1xuICAgICAgd2hhdDogYHNvbWVib2R5IGhhcyB0byBjaG9vc2UgJHtuYW1lfSwgYW5kIG5vYm9keSBpcyBhdCB0aGUgdGVybWluYWxgLFxuICAgICAgcmVtZWR5OiBgLS1zZXQgJHtuYW1lfT1MQUJFTC1PUi1WQUxVRTsgdGhlcmUgYXJlOiAke3NvbWUoY2hvaWNlcyl9YCxcbiAgICAgIGRhdGE6IHsgaW5wdXQ6IG5hbWUgfSxcbiAgICB9KTtcbiAgfVxuICByZXR1cm4gY2hvaWNlc1tcbiAgICBhd2FpdCB3b3Jrc3BhY2UuY2hvb3NlKFxuICAgICAgbmFtZSxcbiAgICAgIGNob2ljZXMubWFwKCh7IGxhYmVsIH0pID0+IGxhYmVsKSxcbiAgICApXG4gIF0gYXMgQ2hvaWNlO1xufVxuXG4vKiogQnkgaXRzIHdob2xlIHZhbHVlIG9yIGxhYmVsLCBlbHNlIGJ5IGEgcGFydCBvZiB0aGUgbGFiZWwgdGhhdCBvbmx5IG9uZSBoYXMuIEB0aHJvd3MgUHJvYmxlbSBpbnB1dC12YWx1ZSwgbmFtZS1hbWJpZ3VvdXMgKi9cbmZ1bmN0aW9uIGZpdHRpbmcobmFtZTogc3RyaW5nLCBnaXZlbjogc3RyaW5nLCBjaG9pY2VzOiByZWFkb25seSBDaG9pY2VbXSk6IENob2ljZSB7XG4gIGNvbnN0IHdhbnRlZCA9IGdpdmVuLnRyaW0oKS50b0xvd2VyQ2FzZSgpO1xuICBjb25zdCB3aG9sZSA9IGNob2ljZXMuZmlsdGVyKCh7IGxhYmVsLCB2YWx1ZSB9KSA9PiB0ZXh0T2YodmFsdWUpID09PSBnaXZlbiB8fCBsYWJlbCA9PT0gZ2l2ZW4pO1xuICBjb25zdCBmb3VuZCA9XG4gICAgd2hvbGUubGVuZ3RoID4gMCA/IHdob2xlIDogY2hvaWNlcy5maWx0ZXIoKHsgbGFiZWwgfSkgPT4gd2FudGVkICE9PSAnJyAmJiBsYWJlbC50b0xvd2VyQ2FzZSgpLmluY2x1ZGVzKHdhbnRlZCkpO1xuICBjb25zdCBbZmlyc3RdID0gZm91bmQ7XG4gIGlmIChmaXJzdCAmJiBmb3VuZC5sZW5ndGggPT09IDEpIHJldHVybiBmaXJzdDtcbiAgaWYgKGZpcnN0KSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ25hbWUtYW1iaWd1b3VzJywge1xuICAgICAgd2hhdDogYC0tc2V0ICR7bmFtZX09JHtnaXZlbn0gZml0cyAke2ZvdW5kLmxlbmd0aH0gb2YgdGhlbTogJHtzb21lKGZvdW5kKX1gLFxuICAgICAgcmVtZWR5OiAnZ2l2ZSB0aGUgd2hvbGUgbGFiZWwsIG9yIHRoZSB2YWx1ZScsXG4gICAgICBkYXRhOiB7IGlucHV0OiBuYW1lLCBmaXR0aW5nOiBmb3VuZC5tYXAoKHsgbGFiZWwgfSkgPT4gbGFiZWwpIH0sXG4gICAgfSk7XG4gIH1cbiAgdGhyb3cgbmV3IFByb2JsZW0oJ2lucHV0LXZhbHVlJywge1xuICAgIHdoYXQ6IGAtLXNldCAke25hbWV9PSR7Z2l2ZW59IGZpdHMgbm9uZSBvZiAke2Nob2ljZXMubGVuZ3RofWAsXG4gICAgcmVtZWR5OlxuICAgICAgbmVhcmVzdEhpbnQoXG4gICAgICAgIGdpdmVuLFxuICAgICAgICBjaG9pY2VzLm1hcCgoeyBsYWJlbCB9KSA9PiBsYWJlbCksXG4gICAgICApID8/IGB0aGVyZSBhcmU6ICR7c29tZShjaG9pY2VzKX1gLFxuICAgIGRhdGE6IHsgaW5wdXQ6IG5hbWUgfSxcbiAgfSk7XG59XG5cbmZ1bmN0aW9uIHNvbWUoY2hvaWNlczogcmVhZG9ubHkgQ2hvaWNlW10pOiBzdHJpbmcge1xuICBjb25zdCBsYWJlbHMgPSBjaG9pY2VzLnNsaWNlKDAsIDgpLm1hcCgoeyBsYWJlbCB9KSA9PiBsYWJlbCk7XG4gIHJldHVybiBgJHtsYWJlbHMuam9pbignOyAnKX0ke2Nob2ljZXMubGVuZ3RoID4gbGFiZWxzLmxlbmd0aCA/IGA7IGFuZCAke2Nob2ljZXMubGVuZ3RoIC0gbGFiZWxzLmxlbmd0aH0gbW9yZWAgOiAnJ31gO1xufVxuIiwgIi8qKiBTdGVwcyB0aGF0IHNlbmQgdGhlaXIgcmVxdWVzdCBtb3JlIHRoYW4gb25jZSwgb3Igb25jZSBtb3JlIHdoZW4gYSBydW4gaXMgZ29uZSBvbiB3aXRoOiBpdCBtdXN0IGNoYW5nZSBub3RoaW5nLiAqL1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgdHlwZSB7IFByZXBhcmVkUmVxdWVzdCB9IGZyb20gJy4uL3ByZXBhcmUuanMnO1xuaW1wb3J0IHR5cGUgeyBQbGFuUm9vbSB9IGZyb20gJy4uL3N0ZXAta2luZC5qcyc7XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gZmlsZS1zaGFwZSAqL1xuZXhwb3J0IGZ1bmN0aW9uIGRlbWFuZFVuY2hhbmdpbmcoeyBwbGFuIH06IFByZXBhcmVkUmVxdWVzdCwga2V5OiAncG9sbCcgfCAnY29tcGFyZScsIHsgeWFtbCwgcGF0aCB9OiBQbGFuUm9vbSk6IHZvaWQge1xuICBpZiAoIXBsYW4uY2hhbmdlcykgcmV0dXJuO1xuICB0aHJvdyBuZXcgUHJvYmxlbSgnZmlsZS1zaGFwZScsIHtcbiAgICB3aGF0OiBgJHtrZXl9IHNlbmRzICR7cGxhbi5uYW1lfSBtb3JlIHRoYW4gb25jZSwgYW5kICR7cGxhbi5tZXRob2R9IGNoYW5nZXMgc29tZXRoaW5nYCxcbiAgICB3aGVyZTogeWFtbC5wb3NpdGlvbihbLi4ucGF0aCwga2V5XSksXG4gICAgcmVtZWR5OlxuICAgICAgJ3doZXJlIGl0IGNoYW5nZXMgbm90aGluZywgd3JpdGUgY2hhbmdlczogZmFsc2UgaW4gaXRzIHJlcXVlc3QgZmlsZTsgZWxzZSBzZW5kIGl0IGluIGEgc3RlcCBiZWZvcmUgdGhpcyBvbmUnLFxuICB9KTtcbn1cbiIsICIvKiogYGNvbXBhcmVgOiBmYWlscyB3aGVyZSB0d28gYW5zd2VycyBvciBkb2N1bWVudHMgZGlmZmVyLCBvciBkaWZmZXIgZWxzZXdoZXJlIHRoYW4gdGhleSBzaG91bGQuICovXG5pbXBvcnQgdHlwZSB7IENvbXBhcmVTdGVwRmlsZSwgU2lkZUZpbGUgfSBmcm9tICcuLi8uLi9jb2xsZWN0aW9uL2ZpbGVzL3RyYWlsLWZpbGUuanMnO1xuaW1wb3J0IHsgYW5zd2VyRGlmZmVyZW5jZXMsIHR5cGUgQ29tcGFyZWRBbnN3ZXIgfSBmcm9tICcuLi8uLi9jb21wYXJpc29uL2Fuc3dlcnMuanMnO1xuaW1wb3J0IHsgY292ZXJpbmcgfSBmcm9tICcuLi8uLi9jb21wYXJpc29uL2NvdW50aW5nLmpzJztcbmltcG9ydCB0eXBlIHsgRGlmZmVyZW5jZSB9IGZyb20gJy4uLy4uL2NvbXBhcmlzb24vZGlmZmVyZW5jZXMuanMnO1xuaW1wb3J0IHsgY29tcGlsZVRyZWUgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL3RyZWUuanMnO1xuaW1wb3J0IHsgY29tcGlsZU1hdGNoZXJzIH0gZnJvbSAnLi4vLi4vbWF0Y2hlci9jb21waWxlLmpzJztcbmltcG9ydCB0eXBlIHsgQ2hlY2sgfSBmcm9tICcuLi8uLi9tYXRjaGVyL21hdGNoZXIuanMnO1xuaW1wb3J0IHsgc2hvcnRUZXh0IH0gZnJvbSAnLi4vLi4vbWF0Y2hlci9yZWFkaW5nLmpzJztcbmltcG9ydCB7IGFzUHJvYmxlbSwgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBkdXJhdGlvblRleHQgfSBmcm9tICcuLi8uLi92YWx1ZS9tZWFzdXJlcy5qcyc7XG5pbXBvcnQgdHlwZSB7IFZhbHVlIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyBlY2hvU2lkZSwgZmlsZVNpZGUsIHNlbnRTaWRlIH0gZnJvbSAnLi4vY29tcGFyZS1zaWRlLmpzJztcbmltcG9ydCB7IGV2YWx1YXRlZCwgZ2l2ZXIsIHBsYW5HaXZlcywgd2Fsa0V2YWx1YXRpb24gfSBmcm9tICcuLi9naXZpbmcuanMnO1xuaW1wb3J0IHR5cGUgeyBQcmVwYXJlZFJlcXVlc3QgfSBmcm9tICcuLi9wcmVwYXJlLmpzJztcbmltcG9ydCB7IHNlY3JldHNJbiB9IGZyb20gJy4uL3NlY3JldHMtYWhlYWQuanMnO1xuaW1wb3J0IHsgc2VuZFJlcXVlc3QgfSBmcm9tICcuLi9zZW5kLmpzJztcbmltcG9ydCB0eXBlIHsgUGxhblJvb20sIFN0ZXBLaW5kLCBXYWxrIH0gZnJvbSAnLi4vc3RlcC1raW5kLmpzJztcbmltcG9ydCB7IGRlbWFuZFVuY2hhbmdpbmcgfSBmcm9tICcuL3VuY2hhbmdpbmcuanMnO1xuXG5pbnRlcmZhY2UgU2lkZSB7XG4gIHJlYWRvbmx5IGxhYmVsOiBzdHJpbmc7XG4gIHJlYWRvbmx5IHJlcXVlc3Q6IFByZXBhcmVkUmVxdWVzdCB8IHVuZGVmaW5lZDtcbiAgLyoqIHVuZGVmaW5lZCB3aGVyZSBub3RoaW5nIGlzIHNlbnQuICovXG4gIGFuc3dlcih3YWxrOiBXYWxrKTogUHJvbWlzZTxDb21wYXJlZEFuc3dlciB8IHVuZGVmaW5lZD47XG59XG5cbmV4cG9ydCBjb25zdCBjb21wYXJlOiBTdGVwS2luZDxDb21wYXJlU3RlcEZpbGU+ID0ge1xuICBuYW1lOiAnY29tcGFyZScsXG4gIGZpdHM6IChmaWxlKTogZmlsZSBpcyBDb21wYXJlU3RlcEZpbGUgPT4gJ2NvbXBhcmUnIGluIGZpbGUsXG4gIGFzeW5jIHBsYW4oZmlsZSwgcm9vbSkge1xuICAgIGNvbnN0IHsgeWFtbCwgcGF0aCwgbG9hZHMsIHdvcmtzcGFjZSB9ID0gcm9vbTtcbiAgICBjb25zdCBzaWRlczogU2lkZVtdID0gW107XG4gICAgZm9yIChjb25zdCBbaW5kZXgsIHNpZGVdIG9mIGZpbGUuY29tcGFyZS5lbnRyaWVzKCkpIHNpZGVzLnB1c2goYXdhaXQgcGxhblNpZGUoc2lkZSwgaW5kZXgsIHJvb20pKTtcbiAgICBjb25zdCBbb25lLCBvdGhlcl0gPSBzaWRlcyBhcyBbU2lkZSwgU2lkZV07XG4gICAgY29uc3QgbGFiZWwgPSBmaWxlLm5hbWUgPz8gYGNvbXBhcmUgJHtvbmUubGFiZWx9IHdpdGggJHtvdGhlci5sYWJlbH1gO1xuICAgIGNvbnN0IHsgaWdub3JpbmcsIG9ubHksIHVub3JkZXJlZCwgY2hhbmdlZCB9ID0gZmlsZTtcbiAgICBjb25zdCByYXRpbyA9IGZpbGVbJ3RpbWUtcmF0aW8nXSA9PT0gdW5kZWZpbmVkID8gdW5kZWZpbmVkIDogcmF0aW9DaGVjayhmaWxlWyd0aW1lLXJhdGlvJ10pO1xuXG4gICAgZnVuY3Rpb24gcmF0aW9DaGVjayhleHBlY3RlZDogVmFsdWUpOiBDaGVjayB7XG4gICAgICB0cnkge1xuICAgICAgICByZXR1cm4gY29tcGlsZU1hdGNoZXJzKGV4cGVjdGVkLCB7IHN1YmplY3Q6IHsgc3RyaWN0OiBmYWxzZSB9LCBsb2FkcywgcmVhZFRleHQ6IHdvcmtzcGFjZS5yZWFkVGV4dCB9KTtcbiAgICAgIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgICAgIHRocm93IGFzUHJvYmxlbShlcnJvcikuYXQoeWFtbC5wb3NpdGlvbihbLi4ucGF0aCwgJ3RpbWUtcmF0aW8nXSkpO1xuICAgICAgfVxuICAgIH1cblxuICAgIHJldHVybiB7XG4gICAgICBraW5kOiAnY29tcGFyZScsXG4gICAgICBsYWJlbCxcbiAgICAgIGNoYW5nZXM6IDAsXG4gICAgICByZXF1ZXN0czogc2lkZXMuZmxhdE1hcCgoeyByZXF1ZXN0IH0pID0+IHJlcXVlc3QgPz8gW10pLFxuICAgICAgc2VjcmV0czogc2VjcmV0c0luKGZpbGUuY29tcGFyZSwgeWFtbCwgWy4uLnBhdGgsICdjb21wYXJlJ10pLFxuICAgICAgYXN5bmMgd2Fsayh3YWxrKSB7XG4gICAgICAgIC8vIE9uZSBhZnRlciB0aGUgb3RoZXI6IHRoZSBmaXJzdCBtYXkgYmUgd2hhdCB0aGUgc2Vjb25kIHdhaXRzIGZvci5cbiAgICAgICAgY29uc3QgbGVmdCA9IGF3YWl0IG9uZS5hbnN3ZXIod2Fsayk7XG4gICAgICAgIGNvbnN0IHJpZ2h0ID0gYXdhaXQgb3RoZXIuYW5zd2VyKHdhbGspO1xuICAgICAgICAvLyBXaGVyZSBub3RoaW5nIGlzIHNlbnQsIHdoYXQgaXMgY29tcGFyZWQgbWF5IGJlIG1hZGUgb2YgZXhhbXBsZXMuXG4gICAgICAgIGlmICghbGVmdCB8fCAhcmlnaHQgfHwgd2Fsay53b3Jrc3BhY2UuZHJ5UnVuKSByZXR1cm4geyBzZW50OiB1bmRlZmluZWQsIGtlcHQ6IFtdLCBwcm9ibGVtczogW10gfTtcbiAgICAgICAgY29uc3QgZm91bmQgPSBhbnN3ZXJEaWZmZXJlbmNlcyhsZWZ0LCByaWdodCwgeyBpZ25vcmluZywgb25seSwgdW5vcmRlcmVkIH0pO1xuICAgICAgICBjb25zdCB7IHdyb25nLCBtaXNzaW5nIH0gPSBjaGFuZ2VkID8gYXNJbnRlbmRlZChmb3VuZCwgY2hhbmdlZCkgOiB7IHdyb25nOiBmb3VuZCwgbWlzc2luZzogW10gfTtcbiAgICAgICAgY29uc3QgcHJvYmxlbXMgPSBbXG4gICAgICAgICAgLi4ubWlzc2luZy5tYXAoKHBsYWNlKSA9PiBuZXcgUHJvYmxlbSgnc3RlcC1mYWlsZWQnLCB7IHdoYXQ6IGAke3BsYWNlfSBzaG91bGQgaGF2ZSBjaGFuZ2VkLCBhbmQgZGlkIG5vdGAgfSkpLFxuICAgICAgICAgIC4uLih3cm9uZy5sZW5ndGggPiAwID8gW2RpZmZlcih3cm9uZywgd2FsayldIDogW10pLFxuICAgICAgICAgIC4uLnNsb3cocmF0aW8sIGxlZnQsIHJpZ2h0KSxcbiAgICAgICAgXTtcbiAgICAgICAgcmV0dXJuIHsgc2VudDogdW5kZWZpbmVkLCBrZXB0OiBbXSwgcHJvYmxlbXMsIHRvbGQ6IHsgZGlmZmVyZW5jZXM6IHdyb25nIH0gfTtcbiAgICAgIH0sXG4gICAgICByZXN0b3JlOiAoKSA9PiB1bmRlZmluZWQsXG4gICAgfTtcbiAgfSxcbn07XG5cbmFzeW5jIGZ1bmN0aW9uIHBsYW5TaWRlKHNpZGU6IFNpZGVGaWxlLCBpbmRleDogbnVtYmVyLCByb29tOiBQbGFuUm9vbSk6IFByb21pc2U8U2lkZT4ge1xuICBjb25zdCBwYXRoID0gWy4uLnJvb20ucGF0aCwgJ2NvbXBhcmUnLCBpbmRleF07XG4gIGlmICgnc2VuZCcgaW4gc2lkZSkge1xuICAgIGNvbnN0IHByZXBhcmVkID0gYXdhaXQgcm9vbS5yZXF1ZXN0KHNpZGUuc2VuZCwgJ2NvbXBhcmUnKTtcbiAgICBkZW1hbmRVbmNoYW5naW5nKHByZXBhcmVkLCAnY29tcGFyZScsIHJvb20pO1xuICAgIGNvbnN0IGdpdmVzID0gcGxhbkdpdmVzKHNpZGUuZ2l2ZSwgcm9vbSwgWy4uLnBhdGgsICdnaXZlJ10pO1xuICAgIGNvbnN0IHsgc2Vzc2lvbiB9ID0gc2lkZTtcbiAgICBjb25zdCBzZXNzaW9ucyA9IHNlc3Npb24gPT09IHVuZGVmaW5lZCA/IHVuZGVmaW5lZCA6IHNlc3Npb24gPT09ICdub25lJyA/IFtdIDogW3Nlc3Npb25dLmZsYXQoKTtcbiAgICBjb25zdCB7IG5hbWUgfSA9IHByZXBhcmVkLnBsYW47XG4gICAgcmV0dXJuIHtcbiAgICAgIGxhYmVsOiBuYW1lLFxuICAgICAgcmVxdWVzdDogcHJlcGFyZWQsXG4gICAgICBhc3luYyBhbnN3ZXIoeyB3b3Jrc3BhY2UsIHNjb3BlLCBzaWduYWwsIHJvdyB9KSB7XG4gICAgICAgIGNvbnN0IGdpdmVuID0gZ2l2ZXIoZ2l2ZXMsIHdvcmtzcGFjZSwgc2NvcGUsIG5hbWUpO1xuICAgICAgICBjb25zdCBjYWxsZXIgPSB3YWxrRXZhbHVhdGlvbih3b3Jrc3BhY2UsIHNjb3BlKS5uYW1lcztcbiAgICAgICAgY29uc3Qgc2VudCA9IGF3YWl0IHNlbmRSZXF1ZXN0KHdvcmtzcGFjZSwgcHJlcGFyZWQsIHsgZ2l2ZW4sIGNhbGxlciwgc2Vzc2lvbnMsIHNpZ25hbCwgc3RlcDogbmFtZSwgcm93IH0pO1xuICAgICAgICByZXR1cm4gd29ya3NwYWNlLmRyeVJ1biA/IHVuZGVmaW5lZCA6IHNlbnRTaWRlKHNlbnQpO1xuICAgICAgfSxcbiAgICB9O1xuICB9XG4gIGlmICgnZWNobycgaW4gc2lkZSkge1xuICAgIGNvbnN0IHsgZWNobyB9ID0gc2lkZTtcbiAgICByZXR1cm4ge1xuICAgICAgbGFiZWw6IGBlY2hvICR7ZWNob31gLFxuICAgICAgcmVxdWVzdDogdW5kZWZpbmVkLFxuICAgICAgYW5zd2VyOiAoeyB3b3Jrc3BhY2UgfSkgPT4gZWNob1NpZGUod29ya3NwYWNlLmNvbGxlY3Rpb24ubG9jYWwsIGVjaG8pLFxuICAgIH07XG4gIH1cbiAgaWYgKCdmaWxlJyBpbiBzaWRlKSB7XG4gICAgY29uc3QgeyBmaWxlIH0gPSBzaWRlO1xuICAgIHJldHVybiB7XG4gICAgICBsYWJlbDogZmlsZSxcbiAgICAgIHJlcXVlc3Q6IHVuZGVmaW5lZCxcbiAgICAgIGFuc3dlcjogYXN5bmMgKHsgd29ya3NwYWNlIH0pID0+IGZpbGVTaWRlKHdvcmtzcGFjZS5jb2xsZWN0aW9uLnJvb3QsIGZpbGUpLFxuICAgIH07XG4gIH1cbiAgY29uc3QgdHJlZSA9IGNvbXBpbGVUcmVlKHNpZGUudmFsdWUsIChpbm5lcikgPT4gcm9vbS55YW1sLnBvc2l0aW9uKFsuLi5wYXRoLCAndmFsdWUnLCAuLi5pbm5lcl0pLCByb29tLmxvYWRzKTtcbiAgY29uc3QgbGFiZWwgPSB0eXBlb2Ygc2lkZS52YWx1ZSA9PT0gJ3N0cmluZycgPyBzaWRlLnZhbHVlLnJlcGxhY2UoL15cXCRcXHsoLiopXFx9JC8sICckMScpIDogJ2EgdmFsdWUnO1xuICByZXR1cm4ge1xuICAgIGxhYmVsLFxuICAgIHJlcXVlc3Q6IHVuZGVmaW5lZCxcbiAgICBhc3luYyBhbnN3ZXIoeyB3b3Jrc3BhY2UsIHNjb3BlIH0pIHtcbiAgICAgIGNvbnN0IHZhbHVlID0gZXZhbHVhdGVkKHRyZWUsIHdhbGtFdmFsdWF0aW9uKHdvcmtzcGFjZSwgc2NvcGUpLCBsYWJlbCk/LnZhbHVlID8/IG51bGw7XG4gICAgICBjb25zdCB0ZXh0ID0gdHlwZW9mIHZhbHVlID09PSAnc3RyaW5nJyA/IHZhbHVlIDogJyc7XG4gICAgICByZXR1cm4geyBzdGF0dXM6IHVuZGVmaW5lZCwgaGVhZGVyczogW10sIHRleHQsIC4uLih0eXBlb2YgdmFsdWUgIT09ICdzdHJpbmcnICYmIHsgdmFsdWUgfSkgfTtcbiAgICB9LFxuICB9O1xufVxuXG4vKiogRGlmZmVyZW5jZXMgZWxzZXdoZXJlIHRoYW4gYXQgdGhlIGludGVuZGVkIHBsYWNlcywgYW5kIHRob3NlIG9mIHRoZW0gd2hlcmUgdGhlcmUgaXMgbm9uZS4gKi9cbmZ1bmN0aW9uIGFzSW50ZW5kZWQoXG4gIGZvdW5kOiByZWFkb25seSBEaWZmZXJlbmNlW10sXG4gIGNoYW5nZWQ6IHJlYWRvbmx5IHN0cmluZ1tdLFxuKTogeyByZWFkb25seSB3cm9uZzogcmVhZG9ubHkgRGlmZmVyZW5jZVtdOyByZWFkb25seSBtaXNzaW5nOiByZWFkb25seSBzdHJpbmdbXSB9IHtcbiAgY29uc3QgaW50ZW5kZWQgPSBjaGFuZ2VkLm1hcCgocGxhY2UpID0+ICh7IHBsYWNlLCBjb3ZlcnM6IGNvdmVyaW5nKHBsYWNlKSB9KSk7XG4gIHJldHVybiB7XG4gICAgd3Jvbmc6IGZvdW5kLmZpbHRlcigoeyBhdCB9KSA9PiAhaW50ZW5kZWQuc29tZSgoeyBjb3ZlcnMgfSkgPT4gY292ZXJzKGF0KSkpLFxuICAgIG1pc3Npbmc6IGludGVuZGVkLmZpbHRlcigoeyBjb3ZlcnMgfSkgPT4gIWZvdW5kLnNvbWUoKHsgYXQgfSkgPT4gY292ZXJzKGF0KSkpLm1hcCgoeyBwbGFjZSB9KSA9PiBwbGFjZSksXG4gIH07XG59XG5cbmZ1bmN0aW9uIGRpZmZlcihmb3VuZDogcmVhZG9ubHkgRGlmZmVyZW5jZVtdLCB7IHdvcmtzcGFjZSB9OiBXYWxrKTogUHJvYmxlbSB7XG4gIGNvbnN0IFtmaXJzdF0gPSBmb3VuZDtcbiAgY29uc3QgeyBoaWRlIH0gPSB3b3Jrc3BhY2UucmVkYWN0b3I7XG4gIGNvbnN0IGF0ID0gZmlyc3QgJiYgYCR7Zmlyc3QuYXR9OiAke2hpZGUoc2hvcnRUZXh0KGZpcnN0LmxlZnQpKX0sIGFuZCAke2hpZGUoc2hvcnRUZXh0KGZpcnN0LnJpZ2h0KSl9YDtcbiAgcmV0dXJuIG5ldyBQcm9ibGVtKCdzdGVwLWZhaWxlZCcsIHtcbiAgICB3aGF0OiBgJHtmb3VuZC5sZW5ndGh9ICR7Zm91bmQubGVuZ3RoID09PSAxID8gJ2RpZmZlcmVuY2UnIDogJ2RpZmZlcmVuY2VzJ31gLFxuICAgIGNhdXNlOiBhdCxcbiAgfSk7XG59XG5cbmZ1bmN0aW9uIHNsb3coY2hlY2s6IENoZWNrIHwgdW5kZWZpbmVkLCBsZWZ0OiBDb21wYXJlZEFuc3dlciwgcmlnaHQ6IENvbXBhcmVkQW5zd2VyKTogUHJvYmxlbVtdIHtcbiAgaWYgKCFjaGVjayB8fCBsZWZ0LnRpbWUgPT09IHVuZGVmaW5lZCB8fCByaWdodC50aW1lID09PSB1bmRlZmluZWQpIHJldHVybiBbXTtcbiAgY29uc3QgcmF0aW8gPSBNYXRoLnJvdW5kKChyaWdodC50aW1lIC8gTWF0aC5tYXgobGVmdC50aW1lLCAwLjAwMSkpICogMTAwKSAvIDEwMDtcbiAgaWYgKGNoZWNrLm1pc3MocmF0aW8sIHt9KSA9PT0gdW5kZWZpbmVkKSByZXR1cm4gW107XG4gIHJldHVybiBbXG4gICAgbmV3IFByb2JsZW0oJ3N0ZXAtZmFpbGVkJywge1xuICAgICAgd2hhdDogYHRoZSBzZWNvbmQgYW5zd2VyIHRvb2sgJHtyYXRpb30gdGltZXMgYXMgbG9uZyBhcyB0aGUgZmlyc3QsIGV4cGVjdGVkICR7Y2hlY2suZGVzY3JpYmUoKX1gLFxuICAgICAgY2F1c2U6IGAke2R1cmF0aW9uVGV4dChsZWZ0LnRpbWUpfSwgYW5kICR7ZHVyYXRpb25UZXh0KHJpZ2h0LnRpbWUpfWAsXG4gICAgfSksXG4gIF07XG59XG4iLCAiLyoqIFdoaWNoIG9mIHNldmVyYWwgcHJvYmxlbXMgZGVjaWRlcywgaW4gdGhlIG9yZGVyIG9mIHRoZSBleGl0IHN0YXR1c2VzLiAqL1xuaW1wb3J0IHR5cGUgeyBQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcblxuY29uc3Qgb3JkZXI6IHJlYWRvbmx5IFByb2JsZW1bJ2ZhbWlseSddW10gPSBbXG4gICdmYWlsZWQtZXhwZWN0YXRpb24nLFxuICAnbm8tYW5zd2VyJyxcbiAgJ3JlZnVzZWQnLFxuICAnd3JvbmctaW5wdXQnLFxuICAnZmF1bHQnLFxuICAnaW50ZXJydXB0ZWQnLFxuXTtcblxuZXhwb3J0IGZ1bmN0aW9uIGdyYXZlcihvbmU6IFByb2JsZW0gfCB1bmRlZmluZWQsIG90aGVyOiBQcm9ibGVtKTogUHJvYmxlbSB7XG4gIHJldHVybiBvbmUgJiYgb3JkZXIuaW5kZXhPZihvbmUuZmFtaWx5KSA+PSBvcmRlci5pbmRleE9mKG90aGVyLmZhbWlseSkgPyBvbmUgOiBvdGhlcjtcbn1cbiIsICIvKiogTWFueSBwaWVjZXMgb2Ygd29yaywgc28gbWFueSBhdCBvbmNlLCBiZWd1biBpbiBvcmRlciBhcyB0aGV5IGNvbWUgZnJvbSBhIHN0cmVhbTogbWVtb3J5IGhvbGRzIG9ubHkgdGhvc2UuICovXG5pbXBvcnQgeyBhc1Byb2JsZW0sIHR5cGUgUHJvYmxlbSB9IGZyb20gJy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5cbi8qKiBAcmV0dXJucyB3aGF0IGVuZGVkIHRoZSByZWFkaW5nIGVhcmx5OyB1bmRlZmluZWQgd2hlcmUgYWxsIHdlcmUgd29ya2VkIG9uLCBvciB0aGUgc2lnbmFsIGNhbWUgKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiBtYW55QXRPbmNlPFQ+KFxuICBpdGVtczogQXN5bmNJdGVyYXRvcjxUPixcbiAgYXRPbmNlOiBudW1iZXIsXG4gIHdvcms6IChpdGVtOiBUKSA9PiBQcm9taXNlPHZvaWQ+LFxuICBzaWduYWw6IEFib3J0U2lnbmFsLFxuKTogUHJvbWlzZTxQcm9ibGVtIHwgdW5kZWZpbmVkPiB7XG4gIGxldCBmYXVsdDogUHJvYmxlbSB8IHVuZGVmaW5lZDtcbiAgYXN5bmMgZnVuY3Rpb24gd29ya2VyKCk6IFByb21pc2U8dm9pZD4ge1xuICAgIHdoaWxlICghc2lnbmFsLmFib3J0ZWQgJiYgIWZhdWx0KSB7XG4gICAgICBjb25zdCBuZXh0ID0gYXdhaXQgaXRlbXMubmV4dCgpO1xuICAgICAgaWYgKG5leHQuZG9uZSkgcmV0dXJuO1xuICAgICAgYXdhaXQgd29yayhuZXh0LnZhbHVlKTtcbiAgICB9XG4gIH1cbiAgY29uc3QgZ3VhcmRlZCA9ICgpOiBQcm9taXNlPHZvaWQ+ID0+XG4gICAgd29ya2VyKCkuY2F0Y2goKGVycm9yOiB1bmtub3duKSA9PiB7XG4gICAgICBmYXVsdCA/Pz0gYXNQcm9ibGVtKGVycm9yKTtcbiAgICB9KTtcbiAgYXdhaXQgUHJvbWlzZS5hbGwoQXJyYXkuZnJvbSh7IGxlbmd0aDogYXRPbmNlIH0sIGd1YXJkZWQpKTtcbiAgYXdhaXQgaXRlbXMucmV0dXJuPy4oKTtcbiAgcmV0dXJuIGZhdWx0O1xufVxuIiwgIi8qKiBgdGFibGVgOiB3aGF0IGxlYXZlcyB0aGUgcm93cyBvciB0aGUgaXRlcmF0aW9ucyBvZiBhIHdhbGssIGEgbGluZSBlYWNoLCBpbiB0aGVpciBvcmRlci4gKi9cbmltcG9ydCB0eXBlIHsgVGFibGVGaWxlIH0gZnJvbSAnLi4vY29sbGVjdGlvbi9maWxlcy90cmFpbC1maWxlLmpzJztcbmltcG9ydCB0eXBlIHsgWWFtbEZpbGUgfSBmcm9tICcuLi9jb2xsZWN0aW9uL3lhbWwuanMnO1xuaW1wb3J0IHR5cGUgeyBSZWNlaXZlZCB9IGZyb20gJy4uL2V4Y2hhbmdlL3JlY2VpdmVkLmpzJztcbmltcG9ydCB0eXBlIHsgTG9hZHMgfSBmcm9tICcuLi9leHByZXNzaW9uL2NvbXBpbGUuanMnO1xuaW1wb3J0IHsgb21pdHRlZCB9IGZyb20gJy4uL2V4cHJlc3Npb24vZXZhbHVhdGlvbi5qcyc7XG5pbXBvcnQgeyBjb21waWxlVHJlZSwgdHlwZSBUcmVlIH0gZnJvbSAnLi4vZXhwcmVzc2lvbi90cmVlLmpzJztcbmltcG9ydCB0eXBlIHsgUGxhY2UgfSBmcm9tICcuLi9wbGFjZS9wbGFjZS5qcyc7XG5pbXBvcnQgeyByZWFkUGxhY2UgfSBmcm9tICcuLi9wbGFjZS9yZWdpc3RyeS5qcyc7XG5pbXBvcnQgeyBhc1Byb2JsZW0sIHR5cGUgUHJvYmxlbSB9IGZyb20gJy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBwbGFjZUluc2lkZSB9IGZyb20gJy4uL3N0b3JhZ2UvaW5zaWRlLmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUsIFZhbHVlTWFwIH0gZnJvbSAnLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgdHlwZSB7IFRhYmxlRXZlbnQgfSBmcm9tICcuL2V2ZW50cy5qcyc7XG5pbXBvcnQgeyB3YWxrRXZhbHVhdGlvbiB9IGZyb20gJy4vZ2l2aW5nLmpzJztcbmltcG9ydCB0eXBlIHsgV2FsayB9IGZyb20gJy4vc3RlcC1raW5kLmpzJztcbmltcG9ydCB7IGRlbWFuZFRhYmxlRmlsZSwgdGFibGVXcml0ZXIgfSBmcm9tICcuL3RhYmxlLWZpbGUuanMnO1xuXG5leHBvcnQgaW50ZXJmYWNlIFRhYmxlUGxhbiB7XG4gIC8qKiBJbiBvcmRlci4gKi9cbiAgcmVhZG9ubHkgY29sdW1uczogcmVhZG9ubHkgc3RyaW5nW107XG4gIC8qKiBDb2x1bW5zIHRoYXQgYXJlIHdvcmtlZCBvdXQuICovXG4gIHJlYWRvbmx5IHRyZWVzOiBSZWFkb25seU1hcDxzdHJpbmcsIFRyZWU+O1xuICAvKiogQ29sdW1ucyB0aGF0IHN0YW5kIGF0IGEgcGxhY2Ugb2YgdGhlIGxhc3QgYW5zd2VyLiAqL1xuICByZWFkb25seSBwbGFjZXM6IFJlYWRvbmx5TWFwPHN0cmluZywgUGxhY2U+O1xuICByZWFkb25seSBhczogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSB0bzogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSBzaG93OiBib29sZWFuO1xufVxuXG4vKiogVGhlIGNvbHVtbiB0aGF0IHNheXMgd2h5IGEgbGluZSBpcyBub3Qgd2hvbGUuICovXG5jb25zdCBlcnJvckNvbHVtbiA9ICdlcnJvcic7XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gYWJvdXQgYSBjb2x1bW4sIHdpdGggaXRzIHBsYWNlIGluIHRoZSBmaWxlICovXG5leHBvcnQgZnVuY3Rpb24gcGxhblRhYmxlKFxuICBzcGVjOiBUYWJsZUZpbGUsXG4gIHlhbWw6IFBpY2s8WWFtbEZpbGUsICdwb3NpdGlvbic+LFxuICBwYXRoOiByZWFkb25seSAoc3RyaW5nIHwgbnVtYmVyKVtdLFxuICBsb2FkczogTG9hZHMsXG4pOiBUYWJsZVBsYW4ge1xuICBjb25zdCB0cmVlcyA9IG5ldyBNYXA8c3RyaW5nLCBUcmVlPigpO1xuICBjb25zdCBwbGFjZXMgPSBuZXcgTWFwPHN0cmluZywgUGxhY2U+KCk7XG4gIGZvciAoY29uc3QgW25hbWUsIHRleHRdIG9mIE9iamVjdC5lbnRyaWVzKHNwZWMuY29sdW1ucykpIHtcbiAgICBjb25zdCB3aGVyZSA9IHlhbWwucG9zaXRpb24oWy4uLnBhdGgsICdjb2x1bW5zJywgbmFtZV0pO1xuICAgIHRyeSB7XG4gICAgICBpZiAodGV4dC5pbmNsdWRlcygnJHsnKSlcbiAgICAgICAgdHJlZXMuc2V0KFxuICAgICAgICAgIG5hbWUsXG4gICAgICAgICAgY29tcGlsZVRyZWUodGV4dCwgKCkgPT4gd2hlcmUsIGxvYWRzKSxcbiAgICAgICAgKTtcbiAgICAgIGVsc2UgcGxhY2VzLnNldChuYW1lLCByZWFkUGxhY2UodGV4dCwgbG9hZHMpKTtcbiAgICB9IGNhdGNoIChlcnJvcikge1xuICAgICAgdGhyb3cgYXNQcm9ibGVtKGVycm9yKS5hdCh3aGVyZSk7XG4gICAgfVxuICB9XG4gIHRyeSB7XG4gICAgaWYgKHNwZWMudG8gIT09IHVuZGVmaW5lZCkgZGVtYW5kVGFibGVGaWxlKHNwZWMudG8pO1xuICB9IGNhdGNoIChlcnJvcikge1xuICAgIHRocm93IGFzUHJvYmxlbShlcnJvcikuYXQoeWFtbC5wb3NpdGlvbihbLi4ucGF0aCwgJ3RvJ10pKTtcbiAgfVxuICByZXR1cm4ge1xuICAgIGNvbHVtbnM6IE9iamVjdC5rZXlzKHNwZWMuY29sdW1ucyksXG4gICAgdHJlZXMsXG4gICAgcGxhY2VzLFxuICAgIGFzOiBzcGVjLmFzLFxuICAgIHRvOiBzcGVjLnRvLFxuICAgIHNob3c6IHNwZWMuc2hvdyA/PyAoc3BlYy5hcyA9PT0gdW5kZWZpbmVkICYmIHNwZWMudG8gPT09IHVuZGVmaW5lZCksXG4gIH07XG59XG5cbi8qKiBXaGF0IGFuIGFuc3dlciBsZWF2ZXMgaW4gdGhlIGNvbHVtbnMgdGhhdCBhcmUgcGxhY2VzOyB0aGUgbmV4dCBhbnN3ZXIgdGFrZXMgaXRzIHBsYWNlLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIHBsYWNlZENlbGxzKHsgcGxhY2VzIH06IFRhYmxlUGxhbiwgcmVjZWl2ZWQ6IFJlY2VpdmVkKTogVmFsdWVNYXAge1xuICBjb25zdCBjZWxsczogUmVjb3JkPHN0cmluZywgVmFsdWU+ID0ge307XG4gIGZvciAoY29uc3QgW25hbWUsIHBsYWNlXSBvZiBwbGFjZXMpIHtcbiAgICB0cnkge1xuICAgICAgY2VsbHNbbmFtZV0gPSBwbGFjZS5maW5kKHJlY2VpdmVkKSA/PyBudWxsO1xuICAgIH0gY2F0Y2gge1xuICAgICAgLy8gQW4gYW5zd2VyIG9mIGFub3RoZXIga2luZCBoYXMgbm90aGluZyB0aGVyZS5cbiAgICAgIGNlbGxzW25hbWVdID0gbnVsbDtcbiAgICB9XG4gIH1cbiAgcmV0dXJuIGNlbGxzO1xufVxuXG4vKiogVGhlIGxpbmUgb2YgYSByb3cgb3IgYW4gaXRlcmF0aW9uLCBhbmQgd2hhdCBpdCBjYW1lIHRvIGJ5IHRoYXQ6IGEgY29sdW1uIHRoYXQgY2Fubm90IGJlIHdvcmtlZCBvdXQgaXMgYSBmYWlsdXJlLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIGxpbmVPZihcbiAgcGxhbjogVGFibGVQbGFuLFxuICB3YWxrOiBXYWxrLFxuICBwcm9ibGVtOiBQcm9ibGVtIHwgdW5kZWZpbmVkLFxuKTogeyByZWFkb25seSBjZWxsczogVmFsdWVNYXA7IHJlYWRvbmx5IHByb2JsZW06IFByb2JsZW0gfCB1bmRlZmluZWQgfSB7XG4gIHRyeSB7XG4gICAgcmV0dXJuIHsgY2VsbHM6IGNlbGxzT2YocGxhbiwgd2FsaywgcHJvYmxlbSksIHByb2JsZW0gfTtcbiAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICBjb25zdCB1bmtub3duID0gYXNQcm9ibGVtKGVycm9yKTtcbiAgICByZXR1cm4geyBjZWxsczogY2VsbHNPZihwbGFuLCB3YWxrLCB1bmtub3duKSwgcHJvYmxlbTogdW5rbm93biB9O1xuICB9XG59XG5cbi8qKiBPbmUgdGhhdCBmYWlsZWQgaGFzIHdoYXQgaXQgY2FtZSB0bywgYW5kIGl0cyBlcnJvci4gQHRocm93cyBQcm9ibGVtOiBvZiBvbmUgdGhhdCBkaWQgbm90IGZhaWwsIGEgbmFtZSB0aGF0IGlzIG5vdCBrbm93biAqL1xuZnVuY3Rpb24gY2VsbHNPZih7IGNvbHVtbnMsIHRyZWVzIH06IFRhYmxlUGxhbiwgd2FsazogV2FsaywgZmFpbGVkOiBQcm9ibGVtIHwgdW5kZWZpbmVkKTogVmFsdWVNYXAge1xuICBjb25zdCBjZWxsczogUmVjb3JkPHN0cmluZywgVmFsdWU+ID0ge307XG4gIGNvbnN0IGV2YWx1YXRpb24gPSB3YWxrRXZhbHVhdGlvbih3YWxrLndvcmtzcGFjZSwgd2Fsay5zY29wZSk7XG4gIGZvciAoY29uc3QgbmFtZSBvZiBjb2x1bW5zKSB7XG4gICAgY29uc3QgdHJlZSA9IHRyZWVzLmdldChuYW1lKTtcbiAgICBjZWxsc1tuYW1lXSA9IHdhbGsubGFzdC5jZWxsc1tuYW1lXSA/PyBudWxsO1xuICAgIHRyeSB7XG4gICAgICBjb25zdCB2YWx1ZSA9IHRyZWU/LmV2YWx1YXRlKGV2YWx1YXRpb24pO1xuICAgICAgaWYgKHZhbHVlICE9PSB1bmRlZmluZWQgJiYgdmFsdWUgIT09IG9taXR0ZWQpIGNlbGxzW25hbWVdID0gdmFsdWU7XG4gICAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICAgIGlmICghZmFpbGVkKSB0aHJvdyBlcnJvcjtcbiAgICB9XG4gIH1cbiAgaWYgKGZhaWxlZCkgY2VsbHNbZXJyb3JDb2x1bW5dID0gd2Fsay53b3Jrc3BhY2UucmVkYWN0b3IuaGlkZShmYWlsZWQud2hhdCk7XG4gIC8vIEEgdGFibGUgaXMgcmVhZCBieSBvdGhlcnM6IHdoYXQgaXMgc2VjcmV0IGlzIG5vdCBpbiBpdC5cbiAgcmV0dXJuIHdhbGsud29ya3NwYWNlLnJlZGFjdG9yLmhpZGVJbihjZWxscykgYXMgVmFsdWVNYXA7XG59XG5cbi8qKiBMaW5lcyB0aGF0IGNvbWUgaW4gYW55IG9yZGVyIGFyZSBwdXQgaW50byB0aGVpcnM7IGEgZmlsZSBvZiB0aGVtIGlzIGluIGl0cyBwbGFjZSB3aGVuIGFsbCBhcmUgdGhlcmUuICovXG5leHBvcnQgaW50ZXJmYWNlIFRhYmxlIHtcbiAgLyoqIEBwYXJhbSBudW1iZXIgZnJvbSAxICovXG4gIGFkZChudW1iZXI6IG51bWJlciwgY2VsbHM6IFZhbHVlTWFwKTogUHJvbWlzZTx2b2lkPjtcbiAgLyoqIEByZXR1cm5zIGhvdyBtYW55IGxpbmVzIHRoZXJlIGFyZSwgYW5kIHRob3NlIHRoYXQgYXJlIHRvIGJlIHNob3duIG9yIG5hbWVkICovXG4gIGZpbmlzaCgpOiBQcm9taXNlPHsgcmVhZG9ubHkgY291bnQ6IG51bWJlcjsgcmVhZG9ubHkgbGluZXM6IHJlYWRvbmx5IFZhbHVlTWFwW10gfT47XG4gIC8qKiBMZWF2ZXMgd2hhdCB3YXMgaW4gaXRzIHBsYWNlIGJlZm9yZS4gKi9cbiAgYWJhbmRvbigpOiBQcm9taXNlPHZvaWQ+O1xufVxuXG4vKiogU28gbWFueSBsaW5lcyBhcmUga2VwdCBmb3IgdGhlIHRlcm1pbmFsIHdoZXJlIG5vdGhpbmcgZWxzZSB3YW50cyB0aGVtLiAqL1xuY29uc3Qgc2hvd25MaW5lcyA9IDIwMDtcblxuLyoqIEBwYXJhbSByb290IG9mIHRoZSBjb2xsZWN0aW9uLCB3aGVyZSBpdHMgZmlsZSBnb2VzIEB0aHJvd3MgUHJvYmxlbSBmaWxlLXVucmVhZGFibGUsIGZpbGUtb3V0c2lkZSwgdXNhZ2UgKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiBvcGVuVGFibGUocGxhbjogVGFibGVQbGFuLCByb290OiBzdHJpbmcpOiBQcm9taXNlPFRhYmxlPiB7XG4gIGNvbnN0IGhlYWRzID0gWy4uLnBsYW4uY29sdW1ucywgZXJyb3JDb2x1bW5dO1xuICBjb25zdCB3cml0ZXIgPSBwbGFuLnRvID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiBhd2FpdCB0YWJsZVdyaXRlcihwbGFjZUluc2lkZShyb290LCBwbGFuLnRvKSwgaGVhZHMpO1xuICBjb25zdCBlYXJseSA9IG5ldyBNYXA8bnVtYmVyLCBWYWx1ZU1hcD4oKTtcbiAgY29uc3QgbGluZXM6IFZhbHVlTWFwW10gPSBbXTtcbiAgbGV0IG5leHQgPSAxO1xuICByZXR1cm4ge1xuICAgIGFzeW5jIGFkZChudW1iZXIsIGNlbGxzKSB7XG4gICAgICBlYXJseS5zZXQobnVtYmVyLCBjZWxscyk7XG4gICAgICBmb3IgKGxldCBsaW5lID0gZWFybHkuZ2V0KG5leHQpOyBsaW5lOyBsaW5lID0gZWFybHkuZ2V0KG5leHQpKSB7XG4gICAgICAgIGVhcmx5LmRlbGV0ZShuZXh0KTtcbiAgICAgICAgbmV4dCArPSAxO1xuICAgICAgICBpZiAocGxhbi5hcyAhPT0gdW5kZWZpbmVkIHx8IGxpbmVzLmxlbmd0aCA8IHNob3duTGluZXMpIGxpbmVzLnB1c2gobGluZSk7XG4gICAgICAgIGF3YWl0IHdyaXRlcj8uYWRkKGxpbmUpO1xuICAgICAgfVxuICAgIH0sXG4gICAgYXN5bmMgZmluaXNoKCkge1xuICAgICAgLy8gV2hhdCB3YXMgcGFzc2VkIG92ZXIgbGVhdmVzIGEgZ2FwLlxuICAgICAgZm9yIChjb25zdCBbLCBsaW5lXSBvZiBbLi4uZWFybHldLnNvcnQoKFthXSwgW2JdKSA9PiBhIC0gYikpIHtcbiAgICAgICAgbmV4dCArPSAxO1xuICAgICAgICBpZiAocGxhbi5hcyAhPT0gdW5kZWZpbmVkIHx8IGxpbmVzLmxlbmd0aCA8IHNob3duTGluZXMpIGxpbmVzLnB1c2gobGluZSk7XG4gICAgICAgIGF3YWl0IHdyaXRlcj8uYWRkKGxpbmUpO1xuICAgICAgfVxuICAgICAgYXdhaXQgd3JpdGVyPy5maW5pc2goKTtcbiAgICAgIHJldHVybiB7IGNvdW50OiBuZXh0IC0gMSwgbGluZXMgfTtcbiAgICB9LFxuICAgIGFiYW5kb246IGFzeW5jICgpID0+IHdyaXRlcj8uYWJhbmRvbigpLFxuICB9O1xufVxuXG4vKiogUHV0cyBhIHRhYmxlIHRoYXQgaXMgd2hvbGUgaW4gaXRzIHBsYWNlLiBAcmV0dXJucyB3aGF0IGlzIHRvbGQgb2YgaXQsIGFuZCBpdHMgbGluZXMgd2hlcmUgdGhleSBhcmUgdG8gYmUgbmFtZWQgKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiBzZXR0bGVUYWJsZShcbiAgcGxhbjogVGFibGVQbGFuLFxuICB0YWJsZTogVGFibGUsXG4gIGxhYmVsOiBzdHJpbmcsXG4gIHJvdzogbnVtYmVyIHwgdW5kZWZpbmVkLFxuKTogUHJvbWlzZTxUYWJsZUV2ZW50PiB7XG4gIGNvbnN0IHsgY291bnQsIGxpbmVzIH0gPSBhd2FpdCB0YWJsZS5maW5pc2goKTtcbiAgY29uc3QgeyBjb2x1bW5zLCB0bywgc2hvdyB9ID0gcGxhbjtcbiAgcmV0dXJuIHsgZXZlbnQ6ICd0YWJsZScsIGxhYmVsLCByb3csIGNvbHVtbnMsIGxpbmVzLCBjb3VudCwgdG8sIHNob3cgfTtcbn1cbiIsICIvKiogV2hhdCBgZm9yLWVhY2hgIGdvZXMgdGhyb3VnaDogYSB2YWx1ZSwgYSByYW5nZSwgdGhlIHJvd3Mgb2YgYSBmaWxlLCBvciB0aGUgcGFnZXMgb2YgYSByZXF1ZXN0LiAqL1xuaW1wb3J0IHR5cGUgeyBNZW1iZXJzRmlsZSB9IGZyb20gJy4uLy4uL2NvbGxlY3Rpb24vZmlsZXMvdHJhaWwtZmlsZS5qcyc7XG5pbXBvcnQgeyBjb21waWxlVHJlZSB9IGZyb20gJy4uLy4uL2V4cHJlc3Npb24vdHJlZS5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IGlzVmFsdWVNYXAsIHR5cGUgVmFsdWUgfSBmcm9tICcuLi8uLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB7IGV2YWx1YXRlZCwgZ2l2ZXIsIHBsYW5HaXZlcywgd2Fsa0V2YWx1YXRpb24gfSBmcm9tICcuLi9naXZpbmcuanMnO1xuaW1wb3J0IHsgZ3JhdmVyIH0gZnJvbSAnLi4vZ3Jhdml0eS5qcyc7XG5pbXBvcnQgeyB0eXBlIFBhZ2VDb3VudCwgcGFnZXNPZiB9IGZyb20gJy4uL3BhZ2luZy9wYWdlcy5qcyc7XG5pbXBvcnQgdHlwZSB7IFByZXBhcmVkUmVxdWVzdCB9IGZyb20gJy4uL3ByZXBhcmUuanMnO1xuaW1wb3J0IHsgZmlsZVJvd3MsIHJlYWR5Um93cyB9IGZyb20gJy4uL3Jvd3MvcmVnaXN0cnkuanMnO1xuaW1wb3J0IHR5cGUgeyBTZW50IH0gZnJvbSAnLi4vc2VuZGluZy5qcyc7XG5pbXBvcnQgdHlwZSB7IFBsYW5Sb29tLCBXYWxrIH0gZnJvbSAnLi4vc3RlcC1raW5kLmpzJztcblxuZXhwb3J0IGludGVyZmFjZSBNZW1iZXJzUGxhbiB7XG4gIC8qKiBUaGUgcmVxdWVzdCB3aG9zZSBwYWdlcyB0aGV5IGFyZS4gKi9cbiAgcmVhZG9ubHkgcmVxdWVzdDogUHJlcGFyZWRSZXF1ZXN0IHwgdW5kZWZpbmVkO1xuICAvKiogVGhlIG1lbWJlcnMgYXMgdGhleSBjb21lOyB3aGF0IGlzIHNlY3JldCBhYm91dCBvbmUgaXMgc2FpZCBvZiBpdC4gKi9cbiAgcmVhZCh3YWxrOiBXYWxrLCB0b2xkOiBQYWdlc1RvbGQpOiBBc3luY0l0ZXJhYmxlPHsgcmVhZG9ubHkgdmFsdWU6IFZhbHVlOyByZWFkb25seSBzZWNyZXQ6IGJvb2xlYW4gfT47XG59XG5cbi8qKiBXaGF0IHRoZSBwYWdlcyBzYWlkLCBvbmNlIHRoZXkgd2VyZSByZWFkLiAqL1xuZXhwb3J0IGludGVyZmFjZSBQYWdlc1RvbGQge1xuICBzZW50PzogU2VudDtcbiAgcGFnZXM/OiBQYWdlQ291bnQ7XG59XG5cbi8qKiBAdGhyb3dzIFByb2JsZW0gYWJvdXQgdGhlIGZpbGUgb3IgdGhlIHJlcXVlc3QgdGhhdCBpcyBuYW1lZCAqL1xuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIHBsYW5NZW1iZXJzKGdpdmVuOiBNZW1iZXJzRmlsZSwgbGFiZWw6IHN0cmluZywgcm9vbTogUGxhblJvb20pOiBQcm9taXNlPE1lbWJlcnNQbGFuPiB7XG4gIGNvbnN0IHBhdGggPSBbLi4ucm9vbS5wYXRoLCAnZm9yLWVhY2gnXTtcbiAgY29uc3Qgd2hlcmUgPSByb29tLnlhbWwucG9zaXRpb24ocGF0aCk7XG4gIGlmICh0eXBlb2YgZ2l2ZW4gPT09ICdzdHJpbmcnIHx8IEFycmF5LmlzQXJyYXkoZ2l2ZW4pKSB7XG4gICAgY29uc3QgdHJlZSA9IGNvbXBpbGVUcmVlKGdpdmVuIGFzIFZhbHVlLCAoaW5uZXIpID0+IHJvb20ueWFtbC5wb3NpdGlvbihbLi4ucGF0aCwgLi4uaW5uZXJdKSwgcm9vbS5sb2Fkcyk7XG4gICAgcmV0dXJuIHtcbiAgICAgIHJlcXVlc3Q6IHVuZGVmaW5lZCxcbiAgICAgIGFzeW5jICpyZWFkKHsgd29ya3NwYWNlLCBzY29wZSB9KSB7XG4gICAgICAgIGNvbnN0IG5hbWVkID0gZXZhbHVhdGVkKHRyZWUsIHdhbGtFdmFsdWF0aW9uKHdvcmtzcGFjZSwgc2NvcGUpLCBgc3RlcCAke2xhYmVsfWApO1xuICAgICAgICBmb3IgKGNvbnN0IHZhbHVlIG9mIGxpc3RPZihuYW1lZD8udmFsdWUsIGxhYmVsKSkgeWllbGQgeyB2YWx1ZSwgc2VjcmV0OiBuYW1lZD8uc2VjcmV0ID09PSB0cnVlIH07XG4gICAgICB9LFxuICAgIH07XG4gIH1cbiAgaWYgKCdyYW5nZScgaW4gZ2l2ZW4pIHtcbiAgICBjb25zdCBbZnJvbSwgdG9dID0gZ2l2ZW4ucmFuZ2U7XG4gICAgcmV0dXJuIHtcbiAgICAgIHJlcXVlc3Q6IHVuZGVmaW5lZCxcbiAgICAgIGFzeW5jICpyZWFkKCkge1xuICAgICAgICBjb25zdCBzdGVwID0gZnJvbSA8PSB0byA/IDEgOiAtMTtcbiAgICAgICAgZm9yIChsZXQgdmFsdWUgPSBmcm9tOyBzdGVwID4gMCA/IHZhbHVlIDw9IHRvIDogdmFsdWUgPj0gdG87IHZhbHVlICs9IHN0ZXApIHlpZWxkIHsgdmFsdWUsIHNlY3JldDogZmFsc2UgfTtcbiAgICAgIH0sXG4gICAgfTtcbiAgfVxuICBpZiAoJ3Jvd3MnIGluIGdpdmVuKSB7XG4gICAgcmVhZHlSb3dzKHJvb20uY29sbGVjdGlvbi5yb290LCBnaXZlbi5yb3dzLCByb29tLmxvYWRzLCByb29tLnlhbWwucG9zaXRpb24oWy4uLnBhdGgsICdyb3dzJ10pKTtcbiAgICByZXR1cm4ge1xuICAgICAgcmVxdWVzdDogdW5kZWZpbmVkLFxuICAgICAgYXN5bmMgKnJlYWQoeyB3b3Jrc3BhY2UgfSkge1xuICAgICAgICBmb3IgYXdhaXQgKGNvbnN0IHZhbHVlIG9mIGZpbGVSb3dzKHdvcmtzcGFjZS5jb2xsZWN0aW9uLnJvb3QsIGdpdmVuLnJvd3MpKSB5aWVsZCB7IHZhbHVlLCBzZWNyZXQ6IGZhbHNlIH07XG4gICAgICB9LFxuICAgIH07XG4gIH1cbiAgY29uc3QgcHJlcGFyZWQgPSBhd2FpdCByb29tLnJlcXVlc3QoZ2l2ZW4ucGFnZXMsICdmb3ItZWFjaCcpO1xuICBpZiAoIXByZXBhcmVkLnBhZ2VzKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ2ZpbGUtc2hhcGUnLCB7XG4gICAgICB3aGF0OiBgdGhlIHJlcXVlc3QgJHtwcmVwYXJlZC5wbGFuLm5hbWV9IGhhcyBubyBwYWdlc2AsXG4gICAgICB3aGVyZSxcbiAgICAgIHJlbWVkeTogJ3NheSBob3cgaXRzIGxpc3QgY29tZXMgaW4gcGFnZXM6IGBwYWdlczpgIGluIHRoZSByZXF1ZXN0IGZpbGUnLFxuICAgIH0pO1xuICB9XG4gIGNvbnN0IGdpdmVzID0gcGxhbkdpdmVzKGdpdmVuLmdpdmUsIHJvb20sIFsuLi5wYXRoLCAnZ2l2ZSddKTtcbiAgcmV0dXJuIHtcbiAgICByZXF1ZXN0OiBwcmVwYXJlZCxcbiAgICBhc3luYyAqcmVhZCh3YWxrLCB0b2xkKSB7XG4gICAgICBjb25zdCB7IHdvcmtzcGFjZSwgc2NvcGUsIHNpZ25hbCwgcm93IH0gPSB3YWxrO1xuICAgICAgY29uc3Qgc2VuZGluZyA9IHtcbiAgICAgICAgZ2l2ZW46IGdpdmVyKGdpdmVzLCB3b3Jrc3BhY2UsIHNjb3BlLCBsYWJlbCksXG4gICAgICAgIGNhbGxlcjogd2Fsa0V2YWx1YXRpb24od29ya3NwYWNlLCBzY29wZSkubmFtZXMsXG4gICAgICAgIHNpZ25hbCxcbiAgICAgICAgc3RlcDogbGFiZWwsXG4gICAgICAgIHJvdyxcbiAgICAgIH07XG4gICAgICBmb3IgYXdhaXQgKGNvbnN0IHsgc2VudCwgaXRlbXMsIGNvdW50IH0gb2YgcGFnZXNPZih3b3Jrc3BhY2UsIHByZXBhcmVkLCBzZW5kaW5nKSkge1xuICAgICAgICB0b2xkLnNlbnQgPSBzZW50O1xuICAgICAgICB0b2xkLnBhZ2VzID0gY291bnQ7XG4gICAgICAgIGlmIChzZW50LnByb2JsZW1zLmxlbmd0aCA+IDApIHtcbiAgICAgICAgICBjb25zdCB3aHkgPSBzZW50LnByb2JsZW1zLnJlZHVjZShncmF2ZXIpO1xuICAgICAgICAgIHRocm93IG5ldyBQcm9ibGVtKHdoeS5jb2RlLCB7XG4gICAgICAgICAgICB3aGF0OiBgJHt3aHkud2hhdH0gKHBhcnRpYWw6ICR7Y291bnQuaXRlbXN9JHtjb3VudC50b3RhbCA9PT0gdW5kZWZpbmVkID8gJycgOiBgIG9mICR7Y291bnQudG90YWx9YH0gaXRlbXMgY2FtZSBiZWZvcmUpYCxcbiAgICAgICAgICAgIGNhdXNlOiB3aHkucmVhc29uLFxuICAgICAgICAgICAgcmVtZWR5OiB3aHkucmVtZWR5LFxuICAgICAgICAgIH0pO1xuICAgICAgICB9XG4gICAgICAgIGZvciAoY29uc3QgdmFsdWUgb2YgaXRlbXMpIHlpZWxkIHsgdmFsdWUsIHNlY3JldDogZmFsc2UgfTtcbiAgICAgIH1cbiAgICB9LFxuICB9O1xufVxuXG4vKiogQSBtYXAgaXMgZ29uZSB0aHJvdWdoIGJ5IGl0cyBtZW1iZXJzLiBAdGhyb3dzIFByb2JsZW0gZGF0YS1zaGFwZSAqL1xuZnVuY3Rpb24gbGlzdE9mKHZhbHVlOiBWYWx1ZSB8IHVuZGVmaW5lZCwgbGFiZWw6IHN0cmluZyk6IHJlYWRvbmx5IFZhbHVlW10ge1xuICBpZiAoQXJyYXkuaXNBcnJheSh2YWx1ZSkpIHJldHVybiB2YWx1ZSBhcyByZWFkb25seSBWYWx1ZVtdO1xuICBpZiAoaXNWYWx1ZU1hcCh2YWx1ZSkpIHJldHVybiBPYmplY3QuZW50cmllcyh2YWx1ZSkubWFwKChba2V5LCBpbm5lcl0pID0+ICh7IGtleSwgdmFsdWU6IGlubmVyIGFzIFZhbHVlIH0pKTtcbiAgdGhyb3cgbmV3IFByb2JsZW0oJ2RhdGEtc2hhcGUnLCB7XG4gICAgd2hhdDogYCR7bGFiZWx9OiBmb3ItZWFjaCBnb2VzIHRocm91Z2ggYSBsaXN0IG9yIGEgbWFwLCBhbmQgd2FzIGdpdmVuIG5laXRoZXJgLFxuICAgIGNhdXNlOiB2YWx1ZSA9PT0gdW5kZWZpbmVkID8gJ3RoZSB2YWx1ZSBpcyBvbWl0dGVkJyA6IHVuZGVmaW5lZCxcbiAgICByZW1lZHk6ICdhIHBsYWNlIHN1Y2ggYXMgJC5pdGVtc1sqXSBrZWVwcyBhIGxpc3QsIGV2ZW4gb2Ygb25lJyxcbiAgfSk7XG59XG4iLCAiLyoqIGBmb3ItZWFjaGA6IHN0ZXBzIGZvciBlYWNoIG9mIG1hbnksIGVhY2ggaW4gYSBzY29wZSBvZiBpdHMgb3duLCBzbyBtYW55IGF0IG9uY2UuICovXG5pbXBvcnQgdHlwZSB7IEZvckVhY2hTdGVwRmlsZSB9IGZyb20gJy4uLy4uL2NvbGxlY3Rpb24vZmlsZXMvdHJhaWwtZmlsZS5qcyc7XG5pbXBvcnQgeyBhc0Fuc3dlciB9IGZyb20gJy4uLy4uL3BsYWNlL29ic2VydmVkLmpzJztcbmltcG9ydCB7IHJlYWRQbGFjZSB9IGZyb20gJy4uLy4uL3BsYWNlL3JlZ2lzdHJ5LmpzJztcbmltcG9ydCB7IGFzUHJvYmxlbSwgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyB0ZXh0T2YgfSBmcm9tICcuLi8uLi92YWx1ZS90ZXh0LmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUsIFZhbHVlTWFwIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgdHlwZSB7IFRhYmxlRXZlbnQgfSBmcm9tICcuLi9ldmVudHMuanMnO1xuaW1wb3J0IHsgZ3JhdmVyIH0gZnJvbSAnLi4vZ3Jhdml0eS5qcyc7XG5pbXBvcnQgeyBtYW55QXRPbmNlIH0gZnJvbSAnLi4vbWFueS5qcyc7XG5pbXBvcnQgeyBTY29wZSB9IGZyb20gJy4uL3Njb3BlLmpzJztcbmltcG9ydCB7IHNlY3JldHNJbiB9IGZyb20gJy4uL3NlY3JldHMtYWhlYWQuanMnO1xuaW1wb3J0IHR5cGUgeyBQbGFubmVkU3RlcCwgU3RlcEtpbmQsIFN0ZXBSZXN1bHQsIFdhbGsgfSBmcm9tICcuLi9zdGVwLWtpbmQuanMnO1xuaW1wb3J0IHsgbGluZU9mLCBvcGVuVGFibGUsIHBsYW5UYWJsZSwgc2V0dGxlVGFibGUsIHR5cGUgVGFibGUsIHR5cGUgVGFibGVQbGFuIH0gZnJvbSAnLi4vdGFibGUuanMnO1xuaW1wb3J0IHsgdHlwZSBQYWdlc1RvbGQsIHBsYW5NZW1iZXJzIH0gZnJvbSAnLi9tZW1iZXJzLmpzJztcblxuaW50ZXJmYWNlIENvdW50cyB7XG4gIG9rOiBudW1iZXI7XG4gIGZhaWxlZDogbnVtYmVyO1xuICBwYXNzZWQ6IG51bWJlcjtcbiAgcHJvYmxlbTogUHJvYmxlbSB8IHVuZGVmaW5lZDtcbn1cblxuZXhwb3J0IGNvbnN0IGZvckVhY2g6IFN0ZXBLaW5kPEZvckVhY2hTdGVwRmlsZT4gPSB7XG4gIG5hbWU6ICdmb3ItZWFjaCcsXG4gIGZpdHM6IChmaWxlKTogZmlsZSBpcyBGb3JFYWNoU3RlcEZpbGUgPT4gJ2Zvci1lYWNoJyBpbiBmaWxlLFxuICBhc3luYyBwbGFuKGZpbGUsIHJvb20pIHtcbiAgICBjb25zdCB7IHlhbWwsIHBhdGgsIGxvYWRzIH0gPSByb29tO1xuICAgIGNvbnN0IG5hbWUgPSBmaWxlLmFzID8/ICdpdGVtJztcbiAgICBjb25zdCBsYWJlbCA9IGZpbGUubmFtZSA/PyBgZm9yIGVhY2ggJHtuYW1lfWA7XG4gICAgY29uc3QgbWVtYmVycyA9IGF3YWl0IHBsYW5NZW1iZXJzKGZpbGVbJ2Zvci1lYWNoJ10sIGxhYmVsLCByb29tKTtcbiAgICBjb25zdCBzdGVwcyA9IGF3YWl0IHJvb20uc3RlcHMoZmlsZS5zdGVwcywgWy4uLnBhdGgsICdzdGVwcyddKTtcbiAgICBjb25zdCB0YWJsZSA9IGZpbGUudGFibGUgJiYgcGxhblRhYmxlKGZpbGUudGFibGUsIHlhbWwsIFsuLi5wYXRoLCAndGFibGUnXSwgbG9hZHMpO1xuICAgIGNvbnN0IGtleVBsYWNlID0gZmlsZVsnb25jZS1ieSddID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiBwbGFjZUF0KGZpbGVbJ29uY2UtYnknXSk7XG4gICAgY29uc3QgYXRPbmNlID0gZmlsZVsnYXQtb25jZSddID8/IDE7XG5cbiAgICBmdW5jdGlvbiBwbGFjZUF0KHRleHQ6IHN0cmluZyk6IFJldHVyblR5cGU8dHlwZW9mIHJlYWRQbGFjZT4ge1xuICAgICAgdHJ5IHtcbiAgICAgICAgcmV0dXJuIHJlYWRQbGFjZSh0ZXh0LCBsb2Fkcyk7XG4gICAgICB9IGNhdGNoIChlcnJvcikge1xuICAgICAgICB0aHJvdyBhc1Byb2JsZW0oZXJyb3IpLmF0KHlhbWwucG9zaXRpb24oWy4uLnBhdGgsICdvbmNlLWJ5J10pKTtcbiAgICAgIH1cbiAgICB9XG5cbiAgICByZXR1cm4ge1xuICAgICAga2luZDogJ2Zvci1lYWNoJyxcbiAgICAgIGxhYmVsLFxuICAgICAgY2hhbmdlczogc3RlcHMucmVkdWNlKChzdW0sIHsgY2hhbmdlcyB9KSA9PiBzdW0gKyBjaGFuZ2VzLCAwKSxcbiAgICAgIHJlcXVlc3RzOiBbLi4uKG1lbWJlcnMucmVxdWVzdCA/IFttZW1iZXJzLnJlcXVlc3RdIDogW10pLCAuLi5zdGVwcy5mbGF0TWFwKCh7IHJlcXVlc3RzIH0pID0+IHJlcXVlc3RzKV0sXG4gICAgICB0YWtlczogc3RlcHMuZmxhdE1hcCgoeyB0YWtlcyB9KSA9PiB0YWtlcyA/PyBbXSksXG4gICAgICBzZWNyZXRzOiBbXG4gICAgICAgIC4uLnNlY3JldHNJbihmaWxlWydmb3ItZWFjaCddLCB5YW1sLCBbLi4ucGF0aCwgJ2Zvci1lYWNoJ10pLFxuICAgICAgICAuLi5zdGVwcy5mbGF0TWFwKCh7IHdoZW4sIHNlY3JldHMgfSkgPT4gKHdoZW4gPyBbXSA6IHNlY3JldHMpKSxcbiAgICAgIF0sXG4gICAgICBhc3luYyB3YWxrKHdhbGssIGF0KTogUHJvbWlzZTxTdGVwUmVzdWx0PiB7XG4gICAgICAgIGNvbnN0IHRvbGQ6IFBhZ2VzVG9sZCA9IHt9O1xuICAgICAgICBjb25zdCBjb3VudHM6IENvdW50cyA9IHsgb2s6IDAsIGZhaWxlZDogMCwgcGFzc2VkOiAwLCBwcm9ibGVtOiB1bmRlZmluZWQgfTtcbiAgICAgICAgY29uc3Qgd2hlcmUgPSBgJHt3YWxrLnJvdyA/PyAnJ30gJHtsYWJlbH1gO1xuICAgICAgICBjb25zdCBoYW5kbGVkID0ga2V5UGxhY2UgJiYgaGFuZGxlZEF0KHdhbGssIHdoZXJlKTtcbiAgICAgICAgLy8gV2hlcmUgbm90aGluZyBpcyBzZW50LCB0aGVyZSBhcmUgbm8gYW5zd2VycyB0byBtYWtlIGxpbmVzIG9mLlxuICAgICAgICBjb25zdCBsaW5lcyA9IHdhbGsud29ya3NwYWNlLmRyeVJ1biA/IHVuZGVmaW5lZCA6IHRhYmxlO1xuICAgICAgICBjb25zdCBvcGVuID0gbGluZXMgJiYgKGF3YWl0IG9wZW5UYWJsZShsaW5lcywgd2Fsay53b3Jrc3BhY2UuY29sbGVjdGlvbi5yb290KSk7XG4gICAgICAgIGNvbnN0IHdvcmsgPSBhc3luYyAoeyBudW1iZXIsIHZhbHVlLCBzZWNyZXQgfTogTWVtYmVyKTogUHJvbWlzZTx2b2lkPiA9PiB7XG4gICAgICAgICAgY29uc3Qga2V5ID0ga2V5UGxhY2UgJiYga2V5T2Yoa2V5UGxhY2UuZmluZChhc0Fuc3dlcih2YWx1ZSkpLCBrZXlQbGFjZS50ZXh0KTtcbiAgICAgICAgICBpZiAoa2V5ICE9PSB1bmRlZmluZWQgJiYgaGFuZGxlZD8uaGFzKGtleSkpIHtcbiAgICAgICAgICAgIGNvdW50cy5wYXNzZWQgKz0gMTtcbiAgICAgICAgICAgIHJldHVybjtcbiAgICAgICAgICB9XG4gICAgICAgICAgY29uc3Qgc2NvcGUgPSBuZXcgU2NvcGUoXG4gICAgICAgICAgICBuZXcgTWFwKFtbbmFtZSwgeyB2YWx1ZSwgc2VjcmV0LCBvcmlnaW46IGAke2xhYmVsfSAke251bWJlcn1gIH1dXSksXG4gICAgICAgICAgICBsYWJlbCxcbiAgICAgICAgICAgIHdhbGsuc2NvcGUsXG4gICAgICAgICAgKTtcbiAgICAgICAgICBjb25zdCBpbm5lciA9IHtcbiAgICAgICAgICAgIC4uLndhbGssXG4gICAgICAgICAgICBhdDogYCR7YXR9OiR7bnVtYmVyfWAsXG4gICAgICAgICAgICBzY29wZSxcbiAgICAgICAgICAgIGRlcHRoOiB3YWxrLmRlcHRoICsgMSxcbiAgICAgICAgICAgIG1lbWJlcjogYCR7bmFtZX0gJHtudW1iZXJ9YCxcbiAgICAgICAgICAgIHRhYmxlOiBsaW5lcyxcbiAgICAgICAgICAgIGxhc3Q6IHsgY2VsbHM6IHt9IH0sXG4gICAgICAgICAgfTtcbiAgICAgICAgICBjb25zdCB7IHByb2JsZW0sIGNlbGxzIH0gPSBhd2FpdCBtZW1iZXJPZihzdGVwcywgaW5uZXIsIGxpbmVzKTtcbiAgICAgICAgICBpZiAoY2VsbHMgJiYgb3BlbikgYXdhaXQgb3Blbi5hZGQobnVtYmVyLCBjZWxscyk7XG4gICAgICAgICAgY291bnRzW3Byb2JsZW0gPyAnZmFpbGVkJyA6ICdvayddICs9IDE7XG4gICAgICAgICAgaWYgKHByb2JsZW0pIGNvdW50cy5wcm9ibGVtID0gZ3JhdmVyKGNvdW50cy5wcm9ibGVtLCBwcm9ibGVtKTtcbiAgICAgICAgICBlbHNlIGlmIChrZXkgIT09IHVuZGVmaW5lZCAmJiAhd2Fsay5zaWduYWwuYWJvcnRlZCkge1xuICAgICAgICAgICAgaGFuZGxlZD8uYWRkKGtleSk7XG4gICAgICAgICAgICB3YWxrLmpvdXJuYWw/LmhhbmRsZWQod2hlcmUsIGtleSk7XG4gICAgICAgICAgfVxuICAgICAgICB9O1xuICAgICAgICBsZXQgZW5kZWQ6IFByb2JsZW0gfCB1bmRlZmluZWQ7XG4gICAgICAgIHRyeSB7XG4gICAgICAgICAgZW5kZWQgPSBhd2FpdCBtYW55QXRPbmNlKG51bWJlcmVkKG1lbWJlcnMucmVhZCh3YWxrLCB0b2xkKSksIGF0T25jZSwgd29yaywgd2Fsay5lbmRpbmcpO1xuICAgICAgICB9IGNhdGNoIChlcnJvcikge1xuICAgICAgICAgIGF3YWl0IG9wZW4/LmFiYW5kb24oKTtcbiAgICAgICAgICB0aHJvdyBlcnJvcjtcbiAgICAgICAgfVxuICAgICAgICBsZXQgc2V0dGxlZDogVGFibGVFdmVudCB8IHVuZGVmaW5lZDtcbiAgICAgICAgaWYgKHdhbGsuZW5kaW5nLmFib3J0ZWQpIGF3YWl0IG9wZW4/LmFiYW5kb24oKTtcbiAgICAgICAgZWxzZSBpZiAobGluZXMgJiYgb3Blbikgc2V0dGxlZCA9IGF3YWl0IHNldHRsZShsaW5lcywgb3BlbiwgbGFiZWwsIHdhbGspO1xuICAgICAgICBjb25zdCBjYW1lID0gcmVzdWx0KGNvdW50cywgdG9sZCwgd2Fsay5zaWduYWwuYWJvcnRlZCA/IHVuZGVmaW5lZCA6IGVuZGVkLCBsaW5lcyk7XG4gICAgICAgIHJldHVybiBzZXR0bGVkID8geyAuLi5jYW1lLCB0YWJsZTogc2V0dGxlZCB9IDogY2FtZTtcbiAgICAgIH0sXG4gICAgfTtcbiAgfSxcbn07XG5cbmludGVyZmFjZSBNZW1iZXIge1xuICByZWFkb25seSBudW1iZXI6IG51bWJlcjtcbiAgcmVhZG9ubHkgdmFsdWU6IFZhbHVlO1xuICByZWFkb25seSBzZWNyZXQ6IGJvb2xlYW47XG59XG5cbmFzeW5jIGZ1bmN0aW9uKiBudW1iZXJlZChcbiAgbWVtYmVyczogQXN5bmNJdGVyYWJsZTx7IHJlYWRvbmx5IHZhbHVlOiBWYWx1ZTsgcmVhZG9ubHkgc2VjcmV0OiBib29sZWFuIH0+LFxuKTogQXN5bmNHZW5lcmF0b3I8TWVtYmVyPiB7XG4gIGxldCBudW1iZXIgPSAwO1xuICBmb3IgYXdhaXQgKGNvbnN0IHsgdmFsdWUsIHNlY3JldCB9IG9mIG1lbWJlcnMpIHtcbiAgICBudW1iZXIgKz0gMTtcbiAgICB5aWVsZCB7IG51bWJlciwgdmFsdWUsIHNlY3JldCB9O1xuICB9XG59XG5cbi8qKiBXYWxrcyB0aGUgc3RlcHMgZm9yIG9uZSBvZiBtYW55LCBhbmQgd29ya3Mgb3V0IGl0cyBsaW5lIG9mIHRoZSB0YWJsZS4gKi9cbmFzeW5jIGZ1bmN0aW9uIG1lbWJlck9mKFxuICBzdGVwczogcmVhZG9ubHkgUGxhbm5lZFN0ZXBbXSxcbiAgd2FsazogV2FsayxcbiAgdGFibGU6IFRhYmxlUGxhbiB8IHVuZGVmaW5lZCxcbik6IFByb21pc2U8eyByZWFkb25seSBwcm9ibGVtOiBQcm9ibGVtIHwgdW5kZWZpbmVkOyByZWFkb25seSBjZWxsczogVmFsdWVNYXAgfCB1bmRlZmluZWQgfT4ge1xuICBjb25zdCBwcm9ibGVtID0gYXdhaXQgd2Fsay5zdGVwcyhzdGVwcywgd2Fsayk7XG4gIHJldHVybiB0YWJsZSA/IGxpbmVPZih0YWJsZSwgd2FsaywgcHJvYmxlbSkgOiB7IHByb2JsZW0sIGNlbGxzOiB1bmRlZmluZWQgfTtcbn1cblxuLyoqIFB1dHMgdGhlIHRhYmxlIHdoZXJlIGl0IGlzIHdhbnRlZC4gQHJldHVybnMgd2hhdCBpcyB0b2xkIG9mIGl0ICovXG5hc3luYyBmdW5jdGlvbiBzZXR0bGUocGxhbjogVGFibGVQbGFuLCB0YWJsZTogVGFibGUsIGxhYmVsOiBzdHJpbmcsIHdhbGs6IFdhbGspOiBQcm9taXNlPFRhYmxlRXZlbnQ+IHtcbiAgY29uc3QgZXZlbnQgPSBhd2FpdCBzZXR0bGVUYWJsZShwbGFuLCB0YWJsZSwgbGFiZWwsIHdhbGsucm93KTtcbiAgaWYgKHBsYW4uYXMgIT09IHVuZGVmaW5lZCkgd2Fsay5zY29wZS5zZXQocGxhbi5hcywgeyB2YWx1ZTogZXZlbnQubGluZXMsIG9yaWdpbjogYHRhYmxlIG9mIHN0ZXAgJHtsYWJlbH1gIH0pO1xuICByZXR1cm4gZXZlbnQ7XG59XG5cbmZ1bmN0aW9uIHJlc3VsdChcbiAgeyBvaywgZmFpbGVkLCBwYXNzZWQsIHByb2JsZW0gfTogQ291bnRzLFxuICB7IHNlbnQsIHBhZ2VzIH06IFBhZ2VzVG9sZCxcbiAgZW5kZWQ6IFByb2JsZW0gfCB1bmRlZmluZWQsXG4gIHRhYmxlOiBUYWJsZVBsYW4gfCB1bmRlZmluZWQsXG4pOiBTdGVwUmVzdWx0IHtcbiAgY29uc3QgcHJvYmxlbXM6IFByb2JsZW1bXSA9IFtdO1xuICBpZiAoZW5kZWQpIHByb2JsZW1zLnB1c2goZW5kZWQpO1xuICBpZiAoZmFpbGVkID4gMCAmJiBwcm9ibGVtKSB7XG4gICAgcHJvYmxlbXMucHVzaChuZXcgUHJvYmxlbShwcm9ibGVtLmNvZGUsIHsgd2hhdDogYCR7ZmFpbGVkfSBvZiAke29rICsgZmFpbGVkfSBmYWlsZWRgLCBjYXVzZTogcHJvYmxlbS53aGF0IH0pKTtcbiAgfVxuICByZXR1cm4ge1xuICAgIHNlbnQsXG4gICAga2VwdDogdGFibGU/LmFzID09PSB1bmRlZmluZWQgPyBbXSA6IFt0YWJsZS5hc10sXG4gICAgcHJvYmxlbXMsXG4gICAgdG9sZDogeyBtZW1iZXJzOiB7IG9rLCBmYWlsZWQsIHBhc3NlZCB9LCBwYWdlcyB9LFxuICB9O1xufVxuXG5mdW5jdGlvbiBoYW5kbGVkQXQoeyBoYW5kbGVkIH06IFdhbGssIHdoZXJlOiBzdHJpbmcpOiBTZXQ8c3RyaW5nPiB7XG4gIGxldCBrZXlzID0gaGFuZGxlZC5nZXQod2hlcmUpO1xuICBpZiAoIWtleXMpIHtcbiAgICBrZXlzID0gbmV3IFNldCgpO1xuICAgIGhhbmRsZWQuc2V0KHdoZXJlLCBrZXlzKTtcbiAgfVxuICByZXR1cm4ga2V5cztcbn1cblxuZnVuY3Rpb24ga2V5T2YoZm91bmQ6IFZhbHVlIHwgdW5kZWZpbmVkLCBwbGFjZTogc3RyaW5nKTogc3RyaW5nIHtcbiAgaWYgKGZvdW5kICE9PSB1bmRlZmluZWQpIHJldHVybiB0ZXh0T2YoZm91bmQpO1xuICB0aHJvdyBuZXcgUHJvYmxlbSgncGxhY2Utbm90LWZvdW5kJywge1xuICAgIHdoYXQ6IGBhbiBpdGVtIGhhcyBub3RoaW5nIGF0ICR7cGxhY2V9LCB3aGljaCB0ZWxscyBpdCBhcGFydGAsXG4gICAgcmVtZWR5OiAnY29ycmVjdCBvbmNlLWJ5JyxcbiAgfSk7XG59XG4iLCAiLyoqIEEgc3RlcCB3aXRoIG9ubHkgYGtlZXBgOiBuYW1lcyBmb3IgdmFsdWVzIHRoYXQgYXJlIHdvcmtlZCBvdXQuICovXG5pbXBvcnQgdHlwZSB7IEtlZXBTdGVwRmlsZSB9IGZyb20gJy4uLy4uL2NvbGxlY3Rpb24vZmlsZXMvdHJhaWwtZmlsZS5qcyc7XG5pbXBvcnQgeyBldmFsdWF0ZWQsIHBsYW5HaXZlcywgd2Fsa0V2YWx1YXRpb24gfSBmcm9tICcuLi9naXZpbmcuanMnO1xuaW1wb3J0IHsgc2VjcmV0c0luIH0gZnJvbSAnLi4vc2VjcmV0cy1haGVhZC5qcyc7XG5pbXBvcnQgdHlwZSB7IFN0ZXBLaW5kIH0gZnJvbSAnLi4vc3RlcC1raW5kLmpzJztcblxuY29uc3Qgb3RoZXJzID0gWydzZW5kJywgJ3RyYWlsJywgJ2Zvci1lYWNoJywgJ3BvbGwnLCAnY2hvb3NlJywgJ2NvbXBhcmUnXSBhcyBjb25zdDtcblxuZXhwb3J0IGNvbnN0IGtlZXA6IFN0ZXBLaW5kPEtlZXBTdGVwRmlsZT4gPSB7XG4gIG5hbWU6ICdrZWVwJyxcbiAgZml0czogKGZpbGUpOiBmaWxlIGlzIEtlZXBTdGVwRmlsZSA9PiAna2VlcCcgaW4gZmlsZSAmJiAhb3RoZXJzLnNvbWUoKGtleSkgPT4ga2V5IGluIGZpbGUpLFxuICBhc3luYyBwbGFuKGZpbGUsIHJvb20pIHtcbiAgICBjb25zdCB2YWx1ZXMgPSBwbGFuR2l2ZXMoZmlsZS5rZWVwLCByb29tLCBbLi4ucm9vbS5wYXRoLCAna2VlcCddKTtcbiAgICBjb25zdCBsYWJlbCA9IGZpbGUubmFtZSA/PyBga2VlcCAke1suLi52YWx1ZXMua2V5cygpXS5qb2luKCcsICcpfWA7XG4gICAgcmV0dXJuIHtcbiAgICAgIGtpbmQ6ICdrZWVwJyxcbiAgICAgIGxhYmVsLFxuICAgICAgY2hhbmdlczogMCxcbiAgICAgIHJlcXVlc3RzOiBbXSxcbiAgICAgIHNlY3JldHM6IHNlY3JldHNJbihmaWxlLmtlZXAsIHJvb20ueWFtbCwgWy4uLnJvb20ucGF0aCwgJ2tlZXAnXSksXG4gICAgICBhc3luYyB3YWxrKHsgd29ya3NwYWNlLCBzY29wZSB9KSB7XG4gICAgICAgIGZvciAoY29uc3QgW25hbWUsIHRyZWVdIG9mIHZhbHVlcykge1xuICAgICAgICAgIC8vIE9uZSBhZnRlciB0aGUgb3RoZXIsIHNvIHRoYXQgYSB2YWx1ZSBtYXkgdXNlIHRoZSBvbmUgYmVmb3JlIGl0LlxuICAgICAgICAgIGNvbnN0IG5hbWVkID0gZXZhbHVhdGVkKHRyZWUsIHdhbGtFdmFsdWF0aW9uKHdvcmtzcGFjZSwgc2NvcGUpLCBga2VwdCBieSBzdGVwICR7bGFiZWx9YCk7XG4gICAgICAgICAgaWYgKG5hbWVkKSBzY29wZS5zZXQobmFtZSwgbmFtZWQpO1xuICAgICAgICB9XG4gICAgICAgIHJldHVybiB7IHNlbnQ6IHVuZGVmaW5lZCwga2VwdDogWy4uLnZhbHVlcy5rZXlzKCldLCBwcm9ibGVtczogW10gfTtcbiAgICAgIH0sXG4gICAgICAvLyBBIG1vbWVudCBvciBhIHJhbmRvbSBudW1iZXIgaXMgdGhlIHNhbWUgd2hlbiB0aGUgcnVuIGlzIGdvbmUgb24gd2l0aC5cbiAgICAgIHJlc3RvcmU6ICgpID0+IHVuZGVmaW5lZCxcbiAgICB9O1xuICB9LFxufTtcbiIsICIvKiogV2hhdCBzdGVwcyB0aGF0IHNlbmQgb25lIHJlcXVlc3QgaGF2ZSBpbiBjb21tb246IGl0cyBpbnB1dHMsIGl0cyBzZXNzaW9ucywgd2hhdCBpcyBrZXB0IG9mIGl0cyBhbnN3ZXIuICovXG5pbXBvcnQgdHlwZSB7IFBvbGxTdGVwRmlsZSwgU2VuZFN0ZXBGaWxlIH0gZnJvbSAnLi4vLi4vY29sbGVjdGlvbi9maWxlcy90cmFpbC1maWxlLmpzJztcbmltcG9ydCB7IGNvbXBpbGVLZWVwcywgdHlwZSBLZWVwLCB0eXBlIEtlcHQgfSBmcm9tICcuLi8uLi9leHBlY3RhdGlvbi9rZWVwcy5qcyc7XG5pbXBvcnQgeyBsYXppbHkgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL25hbWVzLmpzJztcbmltcG9ydCB7IHR5cGUgR2l2ZXMsIGdpdmVyLCBwbGFuR2l2ZXMsIHdhbGtFdmFsdWF0aW9uIH0gZnJvbSAnLi4vZ2l2aW5nLmpzJztcbmltcG9ydCB0eXBlIHsgUHJlcGFyZWRSZXF1ZXN0IH0gZnJvbSAnLi4vcHJlcGFyZS5qcyc7XG5pbXBvcnQgeyB0eXBlIFNlY3JldFVzZSwgc2VjcmV0c0luLCBzZWNyZXRzT2YgfSBmcm9tICcuLi9zZWNyZXRzLWFoZWFkLmpzJztcbmltcG9ydCB0eXBlIHsgU2VuZGluZyB9IGZyb20gJy4uL3NlbmRpbmcuanMnO1xuaW1wb3J0IHR5cGUgeyBQbGFuUm9vbSwgV2FsayB9IGZyb20gJy4uL3N0ZXAta2luZC5qcyc7XG5cbmV4cG9ydCBpbnRlcmZhY2UgU2VudFN0ZXAge1xuICByZWFkb25seSBwcmVwYXJlZDogUHJlcGFyZWRSZXF1ZXN0O1xuICByZWFkb25seSBsYWJlbDogc3RyaW5nO1xuICByZWFkb25seSBzZWNyZXRzOiByZWFkb25seSBTZWNyZXRVc2VbXTtcbiAgLyoqIFdoYXQgZXZlcnkgc2VuZGluZyBvZiBpdCBicmluZ3MgYWxvbmcuICovXG4gIHNlbmRpbmcod2FsazogV2Fsayk6IFNlbmRpbmc7XG4gIC8qKiBQdXRzIHdoYXQgd2FzIGtlcHQgd2hlcmUgdGhlIHN0ZXBzIGJlaGluZCBpdCBmaW5kIGl0LiBAcmV0dXJucyB0aGUgbmFtZXMgKi9cbiAga2VlcCh3YWxrOiBXYWxrLCBrZXB0OiByZWFkb25seSBLZXB0W10pOiBzdHJpbmdbXTtcbn1cblxuLyoqIEBwYXJhbSBrZXkgdGhlIGtleSBvZiB0aGUgc3RlcCB1bmRlciB3aGljaCB0aGUgcmVxdWVzdCBzdGFuZHMgKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiBwbGFuU2VudChcbiAgZmlsZTogUGljazxTZW5kU3RlcEZpbGUgJiBQb2xsU3RlcEZpbGUsICduYW1lJyB8ICdnaXZlJyB8ICdzZXNzaW9uJyB8ICdrZWVwJz4sXG4gIHJlcXVlc3Q6IHN0cmluZyxcbiAga2V5OiAnc2VuZCcgfCAncG9sbCcsXG4gIHJvb206IFBsYW5Sb29tLFxuKTogUHJvbWlzZTxTZW50U3RlcD4ge1xuICBjb25zdCB7IHlhbWwsIHBhdGgsIGxvYWRzLCB3b3Jrc3BhY2UgfSA9IHJvb207XG4gIGNvbnN0IHByZXBhcmVkID0gYXdhaXQgcm9vbS5yZXF1ZXN0KHJlcXVlc3QsIGtleSk7XG4gIGNvbnN0IHsgbmFtZSwgY29udGVudCwgc2Vzc2lvbnM6IHVzdWFsIH0gPSBwcmVwYXJlZC5wbGFuO1xuICBjb25zdCBsYWJlbCA9IGZpbGUubmFtZSA/PyBuYW1lO1xuICBjb25zdCBnaXZlczogR2l2ZXMgPSBwbGFuR2l2ZXMoZmlsZS5naXZlLCByb29tLCBbLi4ucGF0aCwgJ2dpdmUnXSk7XG4gIGNvbnN0IGtlZXBzOiByZWFkb25seSBLZWVwW10gPSBjb21waWxlS2VlcHMoZmlsZS5rZWVwLCB5YW1sLCBbLi4ucGF0aCwgJ2tlZXAnXSwgbG9hZHMsIGNvbnRlbnQubmFtZXNwYWNlcyk7XG4gIGNvbnN0IHNlc3Npb25zID0gZmlsZS5zZXNzaW9uID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiBmaWxlLnNlc3Npb24gPT09ICdub25lJyA/IFtdIDogW2ZpbGUuc2Vzc2lvbl0uZmxhdCgpO1xuICBjb25zdCBvd24gPSB3b3Jrc3BhY2UuY29sbGVjdGlvbi5yZWFkKCdyZXF1ZXN0JywgbmFtZSk7XG4gIHJldHVybiB7XG4gICAgcHJlcGFyZWQsXG4gICAgbGFiZWwsXG4gICAgc2VjcmV0czogW1xuICAgICAgLi4uc2VjcmV0c0luKGZpbGUuZ2l2ZSwgeWFtbCwgWy4uLnBhdGgsICdnaXZlJ10pLFxuICAgICAgLi4uc2VjcmV0c09mKHdvcmtzcGFjZSwgb3duLCBzZXNzaW9ucyA/PyB1c3VhbCwgcHJlcGFyZWQuc2lnbmVyPy5uYW1lKSxcbiAgICBdLFxuICAgIHNlbmRpbmc6ICh7IHdvcmtzcGFjZTogYXQsIHNjb3BlLCBzaWduYWwsIHJvdywgZm9yU2Vzc2lvbiB9KSA9PiAoe1xuICAgICAgZ2l2ZW46IGdpdmVyKGdpdmVzLCBhdCwgc2NvcGUsIGxhYmVsKSxcbiAgICAgIC8vIE1vc3Qgc2VuZGluZ3MgbmV2ZXIgbG9vayBhdCB0aGUgbmFtZXMgb2YgdGhlIHdhbGsuXG4gICAgICBjYWxsZXI6IGxhemlseSgoKSA9PiB3YWxrRXZhbHVhdGlvbihhdCwgc2NvcGUpLm5hbWVzKSxcbiAgICAgIHNlc3Npb25zOiBmb3JTZXNzaW9uID09PSB1bmRlZmluZWQgPyBzZXNzaW9ucyA6IFtdLFxuICAgICAgY29va2llc09mOiBmb3JTZXNzaW9uID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiBbZm9yU2Vzc2lvbl0sXG4gICAgICBrZWVwcyxcbiAgICAgIHNpZ25hbCxcbiAgICAgIHN0ZXA6IGxhYmVsLFxuICAgICAgcm93LFxuICAgIH0pLFxuICAgIGtlZXAoeyBzY29wZSB9LCBrZXB0KSB7XG4gICAgICBmb3IgKGNvbnN0IHsgbmFtZTogYXMsIHZhbHVlLCBzZWNyZXQsIHBsYWNlIH0gb2Yga2VwdClcbiAgICAgICAgc2NvcGUuc2V0KGFzLCB7IHZhbHVlLCBzZWNyZXQsIG9yaWdpbjogYGtlcHQgYnkgc3RlcCAke2xhYmVsfSBmcm9tICR7cGxhY2V9YCB9KTtcbiAgICAgIHJldHVybiBrZXB0Lm1hcCgob25lKSA9PiBvbmUubmFtZSk7XG4gICAgfSxcbiAgfTtcbn1cbiIsICIvKiogYHBvbGxgOiBhIHJlcXVlc3QgaXMgc2VudCB1bnRpbCBpdHMgYW5zd2VyIGlzIGFzIGF3YWl0ZWQuICovXG5pbXBvcnQgdHlwZSB7IFBvbGxTdGVwRmlsZSB9IGZyb20gJy4uLy4uL2NvbGxlY3Rpb24vZmlsZXMvdHJhaWwtZmlsZS5qcyc7XG5pbXBvcnQgdHlwZSB7IFJlY2VpdmVkIH0gZnJvbSAnLi4vLi4vZXhjaGFuZ2UvcmVjZWl2ZWQuanMnO1xuaW1wb3J0IHsgY29tcGlsZUV4cGVjdGF0aW9ucywgdHlwZSBFeHBlY3RhdGlvbiwganVkZ2UgfSBmcm9tICcuLi8uLi9leHBlY3RhdGlvbi9leHBlY3RhdGlvbnMuanMnO1xuaW1wb3J0IHsgRXZhbHVhdGlvbiB9IGZyb20gJy4uLy4uL2V4cHJlc3Npb24vZXZhbHVhdGlvbi5qcyc7XG5pbXBvcnQgeyBzaG9ydFRleHQgfSBmcm9tICcuLi8uLi9tYXRjaGVyL3JlYWRpbmcuanMnO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBkdXJhdGlvblRleHQsIHBhcnNlRHVyYXRpb24gfSBmcm9tICcuLi8uLi92YWx1ZS9tZWFzdXJlcy5qcyc7XG5pbXBvcnQgeyBwYXVzZSB9IGZyb20gJy4uL3BhY2luZy90cmllcy5qcyc7XG5pbXBvcnQgeyBzZW5kUmVxdWVzdCB9IGZyb20gJy4uL3NlbmQuanMnO1xuaW1wb3J0IHR5cGUgeyBTZW50IH0gZnJvbSAnLi4vc2VuZGluZy5qcyc7XG5pbXBvcnQgdHlwZSB7IFN0ZXBLaW5kLCBXYWxrIH0gZnJvbSAnLi4vc3RlcC1raW5kLmpzJztcbmltcG9ydCB7IHBsYW5TZW50IH0gZnJvbSAnLi9zZW50LXN0ZXAuanMnO1xuaW1wb3J0IHsgZGVtYW5kVW5jaGFuZ2luZyB9IGZyb20gJy4vdW5jaGFuZ2luZy5qcyc7XG5cbi8qKiBBIGdyb3dpbmcgcGF1c2UgZ3Jvd3Mgbm8gZnVydGhlciwgaW4gbWlsbGlzZWNvbmRzLiAqL1xuY29uc3QgbG9uZ2VzdFBhdXNlID0gMzBfMDAwO1xuXG5leHBvcnQgY29uc3QgcG9sbDogU3RlcEtpbmQ8UG9sbFN0ZXBGaWxlPiA9IHtcbiAgbmFtZTogJ3BvbGwnLFxuICBmaXRzOiAoZmlsZSk6IGZpbGUgaXMgUG9sbFN0ZXBGaWxlID0+ICdwb2xsJyBpbiBmaWxlLFxuICBhc3luYyBwbGFuKGZpbGUsIHJvb20pIHtcbiAgICBjb25zdCB7IHlhbWwsIHBhdGgsIGxvYWRzLCB3b3Jrc3BhY2UgfSA9IHJvb207XG4gICAgY29uc3Qgc3RlcCA9IGF3YWl0IHBsYW5TZW50KGZpbGUsIGZpbGUucG9sbCwgJ3BvbGwnLCByb29tKTtcbiAgICBjb25zdCB7IHByZXBhcmVkLCBsYWJlbCB9ID0gc3RlcDtcbiAgICBkZW1hbmRVbmNoYW5naW5nKHByZXBhcmVkLCAncG9sbCcsIHJvb20pO1xuICAgIGNvbnN0IHsgbmFtZXNwYWNlcyB9ID0gcHJlcGFyZWQucGxhbi5jb250ZW50O1xuICAgIGNvbnN0IGNvbXBpbGVkID0gKGtleTogJ3VudGlsJyB8ICd1bmxlc3MnKTogcmVhZG9ubHkgRXhwZWN0YXRpb25bXSA9PlxuICAgICAgY29tcGlsZUV4cGVjdGF0aW9ucyhmaWxlW2tleV0sIHlhbWwsIFsuLi5wYXRoLCBrZXldLCB3b3Jrc3BhY2UucmVhZFRleHQsIGxvYWRzLCBuYW1lc3BhY2VzKTtcbiAgICBjb25zdCBbdW50aWwsIHVubGVzc10gPSBbY29tcGlsZWQoJ3VudGlsJyksIGNvbXBpbGVkKCd1bmxlc3MnKV07XG4gICAgY29uc3QgZmlyc3QgPSBwYXJzZUR1cmF0aW9uKGZpbGUucGF1c2UgPz8gJzFzJykgYXMgbnVtYmVyO1xuICAgIGNvbnN0IHdpdGhpbiA9IHBhcnNlRHVyYXRpb24oZmlsZS53aXRoaW4gPz8gJzYwcycpIGFzIG51bWJlcjtcbiAgICBjb25zdCBncm93dGggPSBmaWxlLmdyb3d0aCA/PyAxO1xuXG4gICAgcmV0dXJuIHtcbiAgICAgIGtpbmQ6ICdwb2xsJyxcbiAgICAgIGxhYmVsLFxuICAgICAgY2hhbmdlczogMCxcbiAgICAgIHJlcXVlc3RzOiBbcHJlcGFyZWRdLFxuICAgICAgc2VjcmV0czogc3RlcC5zZWNyZXRzLFxuICAgICAgYXN5bmMgd2Fsayh3YWxrKSB7XG4gICAgICAgIGNvbnN0IHN0YXJ0ZWQgPSBwZXJmb3JtYW5jZS5ub3coKTtcbiAgICAgICAgY29uc3Qgc2Vlbjogc3RyaW5nW10gPSBbXTtcbiAgICAgICAgbGV0IHdhaXQgPSBmaXJzdDtcbiAgICAgICAgZm9yIChsZXQgYXNrZWQgPSAxOyA7IGFza2VkICs9IDEpIHtcbiAgICAgICAgICBjb25zdCBzZW5kaW5nID0gc3RlcC5zZW5kaW5nKHdhbGspO1xuICAgICAgICAgIGNvbnN0IHNlbnQgPSBhd2FpdCBzZW5kUmVxdWVzdCh3YWxrLndvcmtzcGFjZSwgcHJlcGFyZWQsIHsgLi4uc2VuZGluZywgZXhwZWN0YXRpb25zOiB1bnRpbCB9KTtcbiAgICAgICAgICBjb25zdCB7IHJlY2VpdmVkIH0gPSBzZW50Lm91dGNvbWU7XG4gICAgICAgICAgaWYgKHJlY2VpdmVkKSBub3RlKHNlZW4sIHVudGlsLCByZWNlaXZlZCk7XG4gICAgICAgICAgY29uc3QgdG9sZCA9IHsgc2VlbjogeyBhc2tlZCwgdmFsdWVzOiBzZWVuIH0gfTtcbiAgICAgICAgICBpZiAoc2VudC5wcm9ibGVtcy5sZW5ndGggPT09IDApIHJldHVybiB7IHNlbnQsIGtlcHQ6IHN0ZXAua2VlcCh3YWxrLCBzZW50LmtlcHQpLCBwcm9ibGVtczogW10sIHRvbGQgfTtcbiAgICAgICAgICBpZiAod2Fsay5zaWduYWwuYWJvcnRlZCkgcmV0dXJuIHsgc2VudCwga2VwdDogW10sIHByb2JsZW1zOiBzZW50LnByb2JsZW1zLCB0b2xkIH07XG4gICAgICAgICAgY29uc3QgbmV2ZXIgPSByZWNlaXZlZCAmJiAoYXdhaXQgYWxsSG9sZCh1bmxlc3MsIHJlY2VpdmVkLCB3YWxrLCBzZW5kaW5nLmNhbGxlcikpO1xuICAgICAgICAgIGlmIChuZXZlcikgcmV0dXJuIHsgc2VudCwga2VwdDogW10sIHByb2JsZW1zOiBbaG9wZWxlc3ModW5sZXNzLCByZWNlaXZlZCldLCB0b2xkIH07XG4gICAgICAgICAgY29uc3QgZWxhcHNlZCA9IHBlcmZvcm1hbmNlLm5vdygpIC0gc3RhcnRlZDtcbiAgICAgICAgICBpZiAoZWxhcHNlZCArIHdhaXQgPiB3aXRoaW4pXG4gICAgICAgICAgICByZXR1cm4geyBzZW50LCBrZXB0OiBbXSwgcHJvYmxlbXM6IFtsYXRlKHNlbnQsIGFza2VkLCBlbGFwc2VkKSwgLi4uc2VudC5wcm9ibGVtc10sIHRvbGQgfTtcbiAgICAgICAgICBhd2FpdCBwYXVzZSh3YWl0LCB3YWxrLnNpZ25hbCk7XG4gICAgICAgICAgd2FpdCA9IE1hdGgubWluKE1hdGgubWF4KGxvbmdlc3RQYXVzZSwgZmlyc3QpLCB3YWl0ICogZ3Jvd3RoKTtcbiAgICAgICAgfVxuICAgICAgfSxcbiAgICAgIHJlc3RvcmU6ICgpID0+IHVuZGVmaW5lZCxcbiAgICB9O1xuICB9LFxufTtcblxuLyoqIFdoYXQgc3RhbmRzIGF0IHRoZSBhd2FpdGVkIHBsYWNlcywgYXMgbG9uZyBhcyBpdCBjaGFuZ2VzLiAqL1xuZnVuY3Rpb24gbm90ZShzZWVuOiBzdHJpbmdbXSwgdW50aWw6IHJlYWRvbmx5IEV4cGVjdGF0aW9uW10sIHJlY2VpdmVkOiBSZWNlaXZlZCk6IHZvaWQge1xuICBjb25zdCB2YWx1ZXMgPSB1bnRpbC5tYXAoKHsgcGxhY2UgfSkgPT4ge1xuICAgIHRyeSB7XG4gICAgICByZXR1cm4gc2hvcnRUZXh0KHBsYWNlLmZpbmQocmVjZWl2ZWQpKTtcbiAgICB9IGNhdGNoIHtcbiAgICAgIHJldHVybiAnbm90aGluZyc7XG4gICAgfVxuICB9KTtcbiAgY29uc3QgdGV4dCA9IHZhbHVlcy5qb2luKCcsICcpO1xuICBpZiAoc2Vlbi5hdCgtMSkgIT09IHRleHQpIHNlZW4ucHVzaCh0ZXh0KTtcbn1cblxuYXN5bmMgZnVuY3Rpb24gYWxsSG9sZChcbiAgd2FudGVkOiByZWFkb25seSBFeHBlY3RhdGlvbltdLFxuICByZWNlaXZlZDogUmVjZWl2ZWQsXG4gIHsgd29ya3NwYWNlIH06IFdhbGssXG4gIG5hbWVzOiBFdmFsdWF0aW9uWyduYW1lcyddLFxuKTogUHJvbWlzZTxib29sZWFuPiB7XG4gIGlmICh3YW50ZWQubGVuZ3RoID09PSAwKSByZXR1cm4gZmFsc2U7XG4gIGNvbnN0IHN1cnJvdW5kaW5ncyA9IHsgd29ybGQ6IHdvcmtzcGFjZS53b3JsZCgpLCBvblNlY3JldDogd29ya3NwYWNlLnJlZGFjdG9yLmFkZCB9O1xuICBjb25zdCB2ZXJkaWN0cyA9IGF3YWl0IGp1ZGdlKHdhbnRlZCwgcmVjZWl2ZWQsIG5ldyBFdmFsdWF0aW9uKG5hbWVzLCBzdXJyb3VuZGluZ3MpLCB7IGRvY3VtZW50ZWQ6ICgpID0+IHVuZGVmaW5lZCB9KTtcbiAgcmV0dXJuIHZlcmRpY3RzLmV2ZXJ5KCh7IG9rIH0pID0+IG9rKTtcbn1cblxuZnVuY3Rpb24gaG9wZWxlc3ModW5sZXNzOiByZWFkb25seSBFeHBlY3RhdGlvbltdLCByZWNlaXZlZDogUmVjZWl2ZWQpOiBQcm9ibGVtIHtcbiAgY29uc3QgZm91bmQgPSB1bmxlc3MubWFwKCh7IHBsYWNlIH0pID0+IGAke3BsYWNlLnRleHR9IGlzICR7c2hvcnRUZXh0KHBsYWNlLmZpbmQocmVjZWl2ZWQpKX1gKTtcbiAgcmV0dXJuIG5ldyBQcm9ibGVtKCdzdGVwLWZhaWxlZCcsIHsgd2hhdDogYGl0IHdpbGwgbm90IGNvbWU6ICR7Zm91bmQuam9pbignLCAnKX1gIH0pO1xufVxuXG5jb25zdCBsYXRlID0gKHsgb3V0Y29tZTogeyByZWNlaXZlZCB9IH06IFNlbnQsIGFza2VkOiBudW1iZXIsIGVsYXBzZWQ6IG51bWJlcik6IFByb2JsZW0gPT5cbiAgbmV3IFByb2JsZW0oJ3N0ZXAtZmFpbGVkJywge1xuICAgIHdoYXQ6IGBub3QgYXMgYXdhaXRlZCBhZnRlciAke2R1cmF0aW9uVGV4dChlbGFwc2VkKX0sIGFza2VkICR7YXNrZWR9ICR7YXNrZWQgPT09IDEgPyAndGltZScgOiAndGltZXMnfWAsXG4gICAgcmVtZWR5OiByZWNlaXZlZCA/ICd3aXRoaW46IHNheXMgaG93IGxvbmcgdG8gd2FpdCcgOiB1bmRlZmluZWQsXG4gIH0pO1xuIiwgIi8qKiBgdW5kbzpgIG9mIGEgc3RlcDogdGhlIHJlcXVlc3QgdGhhdCB0YWtlcyBpdCBiYWNrLCBhcm1lZCB3aXRoIHRoZSB2YWx1ZXMgYXMgdGhleSBhcmUgd2hlbiB0aGUgc3RlcCBlbmRzLiAqL1xuaW1wb3J0IHR5cGUgeyBVbmRvRmlsZSB9IGZyb20gJy4uLy4uL2NvbGxlY3Rpb24vZmlsZXMvdHJhaWwtZmlsZS5qcyc7XG5pbXBvcnQgeyBnaXZlciwgcGxhbkdpdmVzLCB3YWxrRXZhbHVhdGlvbiB9IGZyb20gJy4uL2dpdmluZy5qcyc7XG5pbXBvcnQgeyBuYW1lc09mIH0gZnJvbSAnLi4vam91cm5hbC9yZWNvcmRlZC5qcyc7XG5pbXBvcnQgeyBzZW5kUmVxdWVzdCB9IGZyb20gJy4uL3NlbmQuanMnO1xuaW1wb3J0IHR5cGUgeyBQbGFuUm9vbSwgV2FsayB9IGZyb20gJy4uL3N0ZXAta2luZC5qcyc7XG5cbi8qKiBAcmV0dXJucyB3aGF0IGFybXMgaXQsIGZvciB0aGUgc3RlcCB0aGF0IHN0YW5kcyB0aGVyZSBpbiB0aGUgcnVuICovXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gcGxhblVuZG8oXG4gIGZpbGU6IFVuZG9GaWxlLFxuICBzdGVwOiBzdHJpbmcsXG4gIHJvb206IFBsYW5Sb29tLFxuKTogUHJvbWlzZTwod2FsazogV2FsaywgYXQ6IHN0cmluZykgPT4gdm9pZD4ge1xuICBjb25zdCBwcmVwYXJlZCA9IGF3YWl0IHJvb20ucmVxdWVzdChmaWxlLnNlbmQsICd1bmRvJyk7XG4gIGNvbnN0IHsgbmFtZTogcmVxdWVzdCB9ID0gcHJlcGFyZWQucGxhbjtcbiAgY29uc3QgZ2l2ZXMgPSBwbGFuR2l2ZXMoZmlsZS5naXZlLCByb29tLCBbLi4ucm9vbS5wYXRoLCAndW5kbycsICdnaXZlJ10pO1xuICBjb25zdCB3YW50ZWQgPSBwcmVwYXJlZC5wbGFuLmlucHV0cy5tYXAoKHsgbmFtZSB9KSA9PiBuYW1lKTtcbiAgcmV0dXJuICh3YWxrLCBhdCkgPT4ge1xuICAgIGNvbnN0IHsgd29ya3NwYWNlLCByb3csIGpvdXJuYWwgfSA9IHdhbGs7XG4gICAgaWYgKGpvdXJuYWw/LnVuZG9uZUJlZm9yZShhdCkpIHJldHVybjtcbiAgICBjb25zdCBzY29wZSA9IHdhbGsuc2NvcGUuc25hcHNob3QoKTtcbiAgICBpZiAoam91cm5hbCAmJiAham91cm5hbC5hcm1lZEJlZm9yZShhdCkpIHtcbiAgICAgIGNvbnN0IHZhbHVlID0gZ2l2ZXIoZ2l2ZXMsIHdvcmtzcGFjZSwgc2NvcGUsIHJlcXVlc3QpO1xuICAgICAgY29uc3QgZ2l2ZW4gPSBuYW1lc09mKHdhbnRlZCwgKG5hbWUpID0+IHF1aWV0bHkoKCkgPT4gdmFsdWUobmFtZSkpKTtcbiAgICAgIGNvbnN0IG5hbWVzID0gbmFtZXNPZih3b3Jrc3BhY2Uub3V0c2lkZU5hbWVzLCAobmFtZSkgPT4gc2NvcGUubG9va3VwKG5hbWUpKTtcbiAgICAgIGpvdXJuYWwuYXJtZWQoeyBhdCwgc3RlcCwgcmVxdWVzdCwgcm93LCBnaXZlbiwgbmFtZXMgfSk7XG4gICAgfVxuICAgIHdhbGsudW5kby5wdXNoKHtcbiAgICAgIGF0LFxuICAgICAgc3RlcCxcbiAgICAgIGxhYmVsOiByZXF1ZXN0LFxuICAgICAgYXN5bmMgcnVuKHNpZ25hbCkge1xuICAgICAgICBjb25zdCBzZW50ID0gYXdhaXQgc2VuZFJlcXVlc3Qod29ya3NwYWNlLCBwcmVwYXJlZCwge1xuICAgICAgICAgIGdpdmVuOiBnaXZlcihnaXZlcywgd29ya3NwYWNlLCBzY29wZSwgcmVxdWVzdCksXG4gICAgICAgICAgY2FsbGVyOiB3YWxrRXZhbHVhdGlvbih3b3Jrc3BhY2UsIHNjb3BlKS5uYW1lcyxcbiAgICAgICAgICBzaWduYWwsXG4gICAgICAgICAgc3RlcDogYHVuZG8gb2YgJHtzdGVwfWAsXG4gICAgICAgICAgcm93LFxuICAgICAgICB9KTtcbiAgICAgICAgcmV0dXJuIHsgc2VudCwga2VwdDogW10sIHByb2JsZW1zOiBzZW50LnByb2JsZW1zIH07XG4gICAgICB9LFxuICAgIH0pO1xuICB9O1xufVxuXG4vKiogV2hhdCBpcyBtaXNzaW5nIGlzIHRvbGQgd2hlbiB0aGUgdW5kbyBwYXJ0IHJ1bnMuICovXG5mdW5jdGlvbiBxdWlldGx5PFQ+KHdvcms6ICgpID0+IFQpOiBUIHwgdW5kZWZpbmVkIHtcbiAgdHJ5IHtcbiAgICByZXR1cm4gd29yaygpO1xuICB9IGNhdGNoIHtcbiAgICByZXR1cm4gdW5kZWZpbmVkO1xuICB9XG59XG4iLCAiLyoqIGBzZW5kYDogYSByZXF1ZXN0IG9mIHRoZSBjb2xsZWN0aW9uOyB3aGVyZSBpdCBoYXMgcGFnZXMsIGFsbCBvZiB0aGVtLiAqL1xuaW1wb3J0IHR5cGUgeyBTZW5kU3RlcEZpbGUgfSBmcm9tICcuLi8uLi9jb2xsZWN0aW9uL2ZpbGVzL3RyYWlsLWZpbGUuanMnO1xuaW1wb3J0IHsgY29tcGlsZUV4cGVjdGF0aW9ucyB9IGZyb20gJy4uLy4uL2V4cGVjdGF0aW9uL2V4cGVjdGF0aW9ucy5qcyc7XG5pbXBvcnQgdHlwZSB7IEtlcHQgfSBmcm9tICcuLi8uLi9leHBlY3RhdGlvbi9rZWVwcy5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IGdhdGhlcmVkLCB0eXBlIFBhZ2VDb3VudCwgcGFnZXNPZiB9IGZyb20gJy4uL3BhZ2luZy9wYWdlcy5qcyc7XG5pbXBvcnQgdHlwZSB7IFByZXBhcmVkUmVxdWVzdCB9IGZyb20gJy4uL3ByZXBhcmUuanMnO1xuaW1wb3J0IHsgaXNSZXBlYXRhYmxlIH0gZnJvbSAnLi4vcmVwZWF0YWJsZS5qcyc7XG5pbXBvcnQgeyBzZW5kUmVxdWVzdCB9IGZyb20gJy4uL3NlbmQuanMnO1xuaW1wb3J0IHR5cGUgeyBTZW5kaW5nLCBTZW50IH0gZnJvbSAnLi4vc2VuZGluZy5qcyc7XG5pbXBvcnQgdHlwZSB7IFN0ZXBLaW5kLCBXYWxrIH0gZnJvbSAnLi4vc3RlcC1raW5kLmpzJztcbmltcG9ydCB7IHBsYW5TZW50IH0gZnJvbSAnLi9zZW50LXN0ZXAuanMnO1xuaW1wb3J0IHsgcGxhblVuZG8gfSBmcm9tICcuL3VuZG8tcGFydC5qcyc7XG5cbmV4cG9ydCBjb25zdCBzZW5kOiBTdGVwS2luZDxTZW5kU3RlcEZpbGU+ID0ge1xuICBuYW1lOiAnc2VuZCcsXG4gIGZpdHM6IChmaWxlKTogZmlsZSBpcyBTZW5kU3RlcEZpbGUgPT4gJ3NlbmQnIGluIGZpbGUsXG4gIGFzeW5jIHBsYW4oZmlsZSwgcm9vbSkge1xuICAgIGNvbnN0IHsgeWFtbCwgcGF0aCwgbG9hZHMsIHdvcmtzcGFjZSB9ID0gcm9vbTtcbiAgICBjb25zdCBzdGVwID0gYXdhaXQgcGxhblNlbnQoZmlsZSwgZmlsZS5zZW5kLCAnc2VuZCcsIHJvb20pO1xuICAgIGNvbnN0IHsgcHJlcGFyZWQsIGxhYmVsIH0gPSBzdGVwO1xuICAgIGNvbnN0IHsgbmFtZXNwYWNlcyB9ID0gcHJlcGFyZWQucGxhbi5jb250ZW50O1xuICAgIGNvbnN0IGV4cGVjdGF0aW9ucyA9IGNvbXBpbGVFeHBlY3RhdGlvbnMoXG4gICAgICBmaWxlLmV4cGVjdCxcbiAgICAgIHlhbWwsXG4gICAgICBbLi4ucGF0aCwgJ2V4cGVjdCddLFxuICAgICAgd29ya3NwYWNlLnJlYWRUZXh0LFxuICAgICAgbG9hZHMsXG4gICAgICBuYW1lc3BhY2VzLFxuICAgICk7XG4gICAgY29uc3QgdW5kbyA9IGZpbGUudW5kbyAmJiAoYXdhaXQgcGxhblVuZG8oZmlsZS51bmRvLCBsYWJlbCwgcm9vbSkpO1xuXG4gICAgcmV0dXJuIHtcbiAgICAgIGtpbmQ6ICdzZW5kJyxcbiAgICAgIGxhYmVsLFxuICAgICAgY2hhbmdlczogcHJlcGFyZWQucGxhbi5jaGFuZ2VzID8gMSA6IDAsXG4gICAgICByZXF1ZXN0czogW3ByZXBhcmVkXSxcbiAgICAgIHNlY3JldHM6IHN0ZXAuc2VjcmV0cyxcbiAgICAgIGFzeW5jIHdhbGsod2FsaywgYXQpIHtcbiAgICAgICAgY29uc3QgYmVmb3JlID0gd2Fsay5qb3VybmFsPy5rbm93bihhdCk7XG4gICAgICAgIGNvbnN0IHsgbWV0aG9kLCBjaGFuZ2VzIH0gPSBwcmVwYXJlZC5wbGFuO1xuICAgICAgICBpZiAoYmVmb3JlPy5zdGF0ZSA9PT0gJ3VuZGVyIHdheScgJiYgIWlzUmVwZWF0YWJsZSh7IG1ldGhvZCwgY2hhbmdlcywgaWRlbXBvdGVuY3lLZXk6IGJlZm9yZS5rZXkgfSkpIHtcbiAgICAgICAgICAvLyBXaGF0IGl0cyB1bmRvIHBhcnQgd291bGQgdGFrZSBiYWNrIG1heSBiZSB0aGVyZS5cbiAgICAgICAgICB3YWxrLmRvdWJ0KGJlZm9yZS5jYWxsKTtcbiAgICAgICAgICB0aHJvdyBuZXcgUHJvYmxlbSgnaW4tZG91YnQnLCB7XG4gICAgICAgICAgICB3aGF0OiBgJHtiZWZvcmUuY2FsbH0gbWF5IG9yIG1heSBub3QgaGF2ZSBoYXBwZW5lZDogdGhlIHJ1biB3YXMga2lsbGVkIGJlZm9yZSBpdHMgYW5zd2VyYCxcbiAgICAgICAgICAgIHJlbWVkeTogJ2xvb2sgYXQgdGhlIHZlbmRvciB3aGV0aGVyIGl0IGRpZDsgaXQgaXMgbm90IHNlbnQgYWdhaW4gb24gaXRzIG93bicsXG4gICAgICAgICAgfSk7XG4gICAgICAgIH1cbiAgICAgICAgbGV0IGxlZnQgPSBmYWxzZTtcbiAgICAgICAgdHJ5IHtcbiAgICAgICAgICBjb25zdCBzZW5kaW5nOiBTZW5kaW5nID0ge1xuICAgICAgICAgICAgLi4uc3RlcC5zZW5kaW5nKHdhbGspLFxuICAgICAgICAgICAgZXhwZWN0YXRpb25zLFxuICAgICAgICAgICAgaWRlbXBvdGVuY3lLZXk6IGJlZm9yZT8ua2V5LFxuICAgICAgICAgICAgb25MZWF2aW5nOiAoeyBjaGFuZ2VzLCBpZGVtcG90ZW5jeUtleSB9LCBjYWxsKSA9PiB7XG4gICAgICAgICAgICAgIC8vIEVhY2ggZnVydGhlciB0cnkgY2FycmllcyB0aGUgc2FtZSBrZXkuXG4gICAgICAgICAgICAgIGNvbnN0IGZpcnN0ID0gIWxlZnQ7XG4gICAgICAgICAgICAgIGxlZnQgPSB0cnVlO1xuICAgICAgICAgICAgICByZXR1cm4gZmlyc3QgJiYgY2hhbmdlcyA/IHdhbGsuam91cm5hbD8ubGVhdmluZyhhdCwgd2Fsay5yb3csIGNhbGwsIGlkZW1wb3RlbmN5S2V5KSA6IHVuZGVmaW5lZDtcbiAgICAgICAgICAgIH0sXG4gICAgICAgICAgfTtcbiAgICAgICAgICBjb25zdCB7IHNlbnQsIGtlcHQsIHBhZ2VzIH0gPSBhd2FpdCBzZW50QnkocHJlcGFyZWQsIHNlbmRpbmcsIHdhbGspO1xuICAgICAgICAgIGNvbnN0IG5hbWVzID0gc3RlcC5rZWVwKHdhbGssIGtlcHQpO1xuICAgICAgICAgIGlmIChsb3N0KHNlbnQpKVxuICAgICAgICAgICAgd2Fsay5kb3VidChgJHtzZW50LndpcmUubWV0aG9kfSAke3dhbGsud29ya3NwYWNlLnJlZGFjdG9yLmhpZGUoc2VudC53aXJlLnNob3duVXJsKX0gKGVjaG8gJHtzZW50LmVjaG99KWApO1xuICAgICAgICAgIGlmICh1bmRvICYmICFyZWZ1c2VkKHNlbnQpKSB1bmRvKHdhbGssIGF0KTtcbiAgICAgICAgICByZXR1cm4geyBzZW50LCBrZXB0OiBuYW1lcywgcHJvYmxlbXM6IHNlbnQucHJvYmxlbXMsIHRvbGQ6IHBhZ2VzICYmIHsgcGFnZXMgfSB9O1xuICAgICAgICB9IGNhdGNoIChlcnJvcikge1xuICAgICAgICAgIGlmICh1bmRvICYmIGxlZnQpIHVuZG8od2FsaywgYXQpO1xuICAgICAgICAgIHRocm93IGVycm9yO1xuICAgICAgICB9XG4gICAgICB9LFxuICAgICAgcmVzdG9yZSh3YWxrLCBhdCkge1xuICAgICAgICB1bmRvPy4od2FsaywgYXQpO1xuICAgICAgfSxcbiAgICB9O1xuICB9LFxufTtcblxuLyoqIE9uZSBhbnN3ZXIsIG9yIGFsbCBwYWdlcyBvZiBpdC4gV2hhdCBpcyBrZXB0IG9mIHBhZ2VzIGlzIHB1dCB0b2dldGhlcjsgdGhlIGxhc3QgcGFnZSBzdGFuZHMgZm9yIGFsbC4gKi9cbmFzeW5jIGZ1bmN0aW9uIHNlbnRCeShcbiAgcHJlcGFyZWQ6IFByZXBhcmVkUmVxdWVzdCxcbiAgc2VuZGluZzogU2VuZGluZyxcbiAgeyB3b3Jrc3BhY2UgfTogV2Fsayxcbik6IFByb21pc2U8eyByZWFkb25seSBzZW50OiBTZW50OyByZWFkb25seSBrZXB0OiByZWFkb25seSBLZXB0W107IHJlYWRvbmx5IHBhZ2VzOiBQYWdlQ291bnQgfCB1bmRlZmluZWQgfT4ge1xuICBpZiAoIXByZXBhcmVkLnBhZ2VzKSB7XG4gICAgY29uc3Qgc2VudCA9IGF3YWl0IHNlbmRSZXF1ZXN0KHdvcmtzcGFjZSwgcHJlcGFyZWQsIHNlbmRpbmcpO1xuICAgIHJldHVybiB7IHNlbnQsIGtlcHQ6IHNlbnQua2VwdCwgcGFnZXM6IHVuZGVmaW5lZCB9O1xuICB9XG4gIGxldCBrZXB0ID0gbmV3IE1hcDxzdHJpbmcsIEtlcHQ+KCk7XG4gIGZvciBhd2FpdCAoY29uc3QgcGFnZSBvZiBwYWdlc09mKHdvcmtzcGFjZSwgcHJlcGFyZWQsIHNlbmRpbmcpKSB7XG4gICAga2VwdCA9IGdhdGhlcmVkKGtlcHQsIHBhZ2Uuc2VudC5rZXB0KTtcbiAgICBpZiAocGFnZS5sYXN0KSByZXR1cm4geyBzZW50OiBwYWdlLnNlbnQsIGtlcHQ6IFsuLi5rZXB0LnZhbHVlcygpXSwgcGFnZXM6IHBhZ2UuY291bnQgfTtcbiAgfVxuICB0aHJvdyBuZXcgUHJvYmxlbSgnZmF1bHQnLCB7IHdoYXQ6ICdwYWdlcyBlbmRlZCB3aXRob3V0IGEgbGFzdCBvbmUnIH0pO1xufVxuXG4vKiogQSA0eHggc2F5cyB0aGF0IG5vdGhpbmcgd2FzIGRvbmUsIHNvIHRoZXJlIGlzIG5vdGhpbmcgdG8gdGFrZSBiYWNrLiAqL1xuZnVuY3Rpb24gcmVmdXNlZCh7IG91dGNvbWU6IHsgcmVjZWl2ZWQsIHRyb3VibGUgfSB9OiBTZW50KTogYm9vbGVhbiB7XG4gIHJldHVybiByZWNlaXZlZCAhPT0gdW5kZWZpbmVkICYmIHRyb3VibGUgPT09IHVuZGVmaW5lZCAmJiByZWNlaXZlZC5zdGF0dXMgPj0gNDAwICYmIHJlY2VpdmVkLnN0YXR1cyA8IDUwMDtcbn1cblxuLyoqIEEgY2hhbmdpbmcgY2FsbCB0aGF0IGxlZnQsIGFuZCB3aG9zZSBhbnN3ZXIgZGlkIG5vdCBjb21lLiAqL1xuZnVuY3Rpb24gbG9zdCh7IHJlcXVlc3QsIG91dGNvbWU6IHsgcmVjZWl2ZWQsIHRyb3VibGUgfSB9OiBTZW50KTogYm9vbGVhbiB7XG4gIGNvbnN0IG5ldmVyID0gbmV3IFNldDxQcm9ibGVtWydjb2RlJ10+KFsnbmFtZS1sb29rdXAnLCAnY29ubmVjdGlvbi1yZWZ1c2VkJywgJ2Nvbm5lY3Rpb24tdGltZW91dCcsICd0bHMtZmFpbGVkJ10pO1xuICByZXR1cm4gcmVxdWVzdC5jaGFuZ2VzICYmIHJlY2VpdmVkID09PSB1bmRlZmluZWQgJiYgdHJvdWJsZSAhPT0gdW5kZWZpbmVkICYmICFuZXZlci5oYXModHJvdWJsZS5jb2RlKTtcbn1cbiIsICIvKiogYHRyYWlsYDogYW5vdGhlciB0cmFpbCwgd2l0aCBpbnB1dHMgYW5kIGEgc2NvcGUgb2YgaXRzIG93bjsgd2hhdCBpdCBnaXZlcyBiYWNrIGlzIG5hbWVkIGJ5IGBrZWVwYC4gKi9cbmltcG9ydCB0eXBlIHsgVHJhaWxTdGVwRmlsZSB9IGZyb20gJy4uLy4uL2NvbGxlY3Rpb24vZmlsZXMvdHJhaWwtZmlsZS5qcyc7XG5pbXBvcnQgeyBldmFsdWF0ZWQsIGdpdmVyLCBwbGFuR2l2ZXMsIHdhbGtFdmFsdWF0aW9uIH0gZnJvbSAnLi4vZ2l2aW5nLmpzJztcbmltcG9ydCB7IHNlY3JldHNJbiB9IGZyb20gJy4uL3NlY3JldHMtYWhlYWQuanMnO1xuaW1wb3J0IHsgc3RhcnRTY29wZSB9IGZyb20gJy4uL3N0YXJ0LXNjb3BlLmpzJztcbmltcG9ydCB0eXBlIHsgU3RlcEtpbmQgfSBmcm9tICcuLi9zdGVwLWtpbmQuanMnO1xuXG5leHBvcnQgY29uc3QgdHJhaWw6IFN0ZXBLaW5kPFRyYWlsU3RlcEZpbGU+ID0ge1xuICBuYW1lOiAndHJhaWwnLFxuICBmaXRzOiAoZmlsZSk6IGZpbGUgaXMgVHJhaWxTdGVwRmlsZSA9PiAndHJhaWwnIGluIGZpbGUsXG4gIGFzeW5jIHBsYW4oZmlsZSwgcm9vbSkge1xuICAgIGNvbnN0IHBsYW4gPSBhd2FpdCByb29tLnRyYWlsKGZpbGUudHJhaWwsICd0cmFpbCcpO1xuICAgIGNvbnN0IGxhYmVsID0gZmlsZS5uYW1lID8/IHBsYW4ubmFtZTtcbiAgICBjb25zdCBnaXZlcyA9IHBsYW5HaXZlcyhmaWxlLmdpdmUsIHJvb20sIFsuLi5yb29tLnBhdGgsICdnaXZlJ10pO1xuICAgIGNvbnN0IGtlZXBzID0gcGxhbkdpdmVzKGZpbGUua2VlcCwgcm9vbSwgWy4uLnJvb20ucGF0aCwgJ2tlZXAnXSk7XG4gICAgcmV0dXJuIHtcbiAgICAgIGtpbmQ6ICd0cmFpbCcsXG4gICAgICBsYWJlbCxcbiAgICAgIGNoYW5nZXM6IHBsYW4uc3RlcHMucmVkdWNlKChzdW0sIHsgY2hhbmdlcyB9KSA9PiBzdW0gKyBjaGFuZ2VzLCAwKSxcbiAgICAgIHJlcXVlc3RzOiBwbGFuLnN0ZXBzLmZsYXRNYXAoKHsgcmVxdWVzdHMgfSkgPT4gcmVxdWVzdHMpLFxuICAgICAgdGFrZXM6IHBsYW4uc3RlcHMuZmxhdE1hcCgoeyB0YWtlcyB9KSA9PiB0YWtlcyA/PyBbXSksXG4gICAgICBzZWNyZXRzOiBbXG4gICAgICAgIC4uLnNlY3JldHNJbihmaWxlLmdpdmUsIHJvb20ueWFtbCwgWy4uLnJvb20ucGF0aCwgJ2dpdmUnXSksXG4gICAgICAgIC4uLnBsYW4uc3RlcHMuZmxhdE1hcCgoeyB3aGVuLCBzZWNyZXRzIH0pID0+ICh3aGVuID8gW10gOiBzZWNyZXRzKSksXG4gICAgICBdLFxuICAgICAgYXN5bmMgd2Fsayh3YWxrLCBhdCkge1xuICAgICAgICBjb25zdCB7IHdvcmtzcGFjZSB9ID0gd2FsaztcbiAgICAgICAgY29uc3QgaW5uZXIgPSBzdGFydFNjb3BlKHBsYW4sIHdvcmtzcGFjZSwgZ2l2ZXIoZ2l2ZXMsIHdvcmtzcGFjZSwgd2Fsay5zY29wZSwgbGFiZWwpKTtcbiAgICAgICAgY29uc3QgcHJvYmxlbSA9IGF3YWl0IHdhbGsuc3RlcHMocGxhbi5zdGVwcywgeyAuLi53YWxrLCBhdCwgc2NvcGU6IGlubmVyLCBkZXB0aDogd2Fsay5kZXB0aCArIDEgfSk7XG4gICAgICAgIGlmIChwcm9ibGVtKSByZXR1cm4geyBzZW50OiB1bmRlZmluZWQsIGtlcHQ6IFtdLCBwcm9ibGVtczogW3Byb2JsZW1dIH07XG4gICAgICAgIGZvciAoY29uc3QgW25hbWUsIHRyZWVdIG9mIGtlZXBzKSB7XG4gICAgICAgICAgY29uc3QgbmFtZWQgPSBldmFsdWF0ZWQodHJlZSwgd2Fsa0V2YWx1YXRpb24od29ya3NwYWNlLCBpbm5lciksIGBrZXB0IGJ5IHN0ZXAgJHtsYWJlbH1gKTtcbiAgICAgICAgICBpZiAobmFtZWQpIHdhbGsuc2NvcGUuc2V0KG5hbWUsIG5hbWVkKTtcbiAgICAgICAgfVxuICAgICAgICByZXR1cm4geyBzZW50OiB1bmRlZmluZWQsIGtlcHQ6IFsuLi5rZWVwcy5rZXlzKCldLCBwcm9ibGVtczogW10gfTtcbiAgICAgIH0sXG4gICAgfTtcbiAgfSxcbn07XG4iLCAiLyoqIEFsbCBraW5kcyBvZiBzdGVwcy4gQSBuZXcgb25lIGlzIG9uZSBmaWxlLCBvbmUgbGluZSBoZXJlLCBhbmQgaXRzIHNjaGVtYSBpbiB0aGUgdHJhaWwgZmlsZSdzIHVuaW9uLiAqL1xuaW1wb3J0IHR5cGUgeyBTdGVwS2luZCB9IGZyb20gJy4uL3N0ZXAta2luZC5qcyc7XG5pbXBvcnQgeyBjaG9vc2UgfSBmcm9tICcuL2Nob29zZS5qcyc7XG5pbXBvcnQgeyBjb21wYXJlIH0gZnJvbSAnLi9jb21wYXJlLmpzJztcbmltcG9ydCB7IGZvckVhY2ggfSBmcm9tICcuL2Zvci1lYWNoLmpzJztcbmltcG9ydCB7IGtlZXAgfSBmcm9tICcuL2tlZXAuanMnO1xuaW1wb3J0IHsgcG9sbCB9IGZyb20gJy4vcG9sbC5qcyc7XG5pbXBvcnQgeyBzZW5kIH0gZnJvbSAnLi9zZW5kLmpzJztcbmltcG9ydCB7IHRyYWlsIH0gZnJvbSAnLi90cmFpbC5qcyc7XG5cbmV4cG9ydCBjb25zdCBzdGVwS2luZHM6IHJlYWRvbmx5IFN0ZXBLaW5kW10gPSBbXG4gIHNlbmQgYXMgU3RlcEtpbmQsXG4gIHRyYWlsIGFzIFN0ZXBLaW5kLFxuICBmb3JFYWNoIGFzIFN0ZXBLaW5kLFxuICBwb2xsIGFzIFN0ZXBLaW5kLFxuICBjaG9vc2UgYXMgU3RlcEtpbmQsXG4gIGNvbXBhcmUgYXMgU3RlcEtpbmQsXG4gIGtlZXAgYXMgU3RlcEtpbmQsXG5dO1xuIiwgIi8qKiBBIHRyYWlsIGZpbGUgbWFkZSByZWFkeTogZXZlcnkgcmVxdWVzdCBhbmQgdHJhaWwgaW4gaXQgaXMgcmVhZCBiZWZvcmUgdGhlIGZpcnN0IHN0ZXAgaXMgdGFrZW4uICovXG5pbXBvcnQgdHlwZSB7IFN0ZXBGaWxlLCBUcmFpbEZpbGUgfSBmcm9tICcuLi9jb2xsZWN0aW9uL2ZpbGVzL3RyYWlsLWZpbGUuanMnO1xuaW1wb3J0IHsgcGxhbklucHV0cyB9IGZyb20gJy4uL2NvbGxlY3Rpb24vaW5wdXRzLmpzJztcbmltcG9ydCB0eXBlIHsgWWFtbEZpbGUgfSBmcm9tICcuLi9jb2xsZWN0aW9uL3lhbWwuanMnO1xuaW1wb3J0IHR5cGUgeyBMb2FkcyB9IGZyb20gJy4uL2V4cHJlc3Npb24vY29tcGlsZS5qcyc7XG5pbXBvcnQgeyBhc1Byb2JsZW0sIFByb2JsZW0gfSBmcm9tICcuLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHR5cGUgeyBWYWx1ZSB9IGZyb20gJy4uL3ZhbHVlL3dyaXR0ZW4uanMnO1xuaW1wb3J0IHsgY29tcGlsZUNvbmRpdGlvbiB9IGZyb20gJy4vY29uZGl0aW9ucy5qcyc7XG5pbXBvcnQgdHlwZSB7IFByZXBhcmVkUmVxdWVzdCB9IGZyb20gJy4vcHJlcGFyZS5qcyc7XG5pbXBvcnQgeyBwbGFuUm93cyB9IGZyb20gJy4vcm93cy9yb3dzLXBsYW4uanMnO1xuaW1wb3J0IHR5cGUgeyBQbGFubmVkU3RlcCwgUGxhblJvb20sIFRyYWlsUGxhbiB9IGZyb20gJy4vc3RlcC1raW5kLmpzJztcbmltcG9ydCB7IHN0ZXBLaW5kcyB9IGZyb20gJy4vc3RlcHMvcmVnaXN0cnkuanMnO1xuaW1wb3J0IHsgc2VuZCB9IGZyb20gJy4vc3RlcHMvc2VuZC5qcyc7XG5pbXBvcnQgeyBwbGFuVGFibGUgfSBmcm9tICcuL3RhYmxlLmpzJztcbmltcG9ydCB0eXBlIHsgV29ya3NwYWNlIH0gZnJvbSAnLi93b3Jrc3BhY2UuanMnO1xuXG4vKiogV2hhdCB0aGUgY29tbWFuZCBsaW5lIHNheXMgaW4gcGxhY2Ugb2YgdGhlIGZpbGUuICovXG5leHBvcnQgaW50ZXJmYWNlIFBsYW5XaXNoZXMge1xuICByZWFkb25seSByb3dzPzogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSBhdE9uY2U/OiBudW1iZXIgfCB1bmRlZmluZWQ7XG59XG5cbi8qKlxuICogQHBhcmFtIGFib3ZlIHRoZSB0cmFpbHMgdGhhdCBsZWFkIGhlcmUsIHNvIHRoYXQgYSBjaXJjbGUgaXMgc2VlblxuICogQHRocm93cyBQcm9ibGVtIGFib3V0IGFueXRoaW5nIGluIHRoZSB0cmFpbCBvciBpbiB3aGF0IGl0IG5hbWVzXG4gKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiBwbGFuVHJhaWwoXG4gIHdvcmtzcGFjZTogV29ya3NwYWNlLFxuICBnaXZlbjogc3RyaW5nLFxuICB3aXNoZXM6IFBsYW5XaXNoZXMgPSB7fSxcbiAgYWJvdmU6IHJlYWRvbmx5IHN0cmluZ1tdID0gW10sXG4pOiBQcm9taXNlPFRyYWlsUGxhbj4ge1xuICBjb25zdCB7IGNvbGxlY3Rpb24gfSA9IHdvcmtzcGFjZTtcbiAgY29uc3QgeyBuYW1lLCBjb250ZW50LCB5YW1sIH0gPSBjb2xsZWN0aW9uLnJlYWQoJ3RyYWlsJywgZ2l2ZW4pO1xuICBpZiAoYWJvdmUuaW5jbHVkZXMobmFtZSkpIHtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgnY2lyY2xlJywge1xuICAgICAgd2hhdDogYHRoZSB0cmFpbHMgJHtbLi4uYWJvdmUsIG5hbWVdLmpvaW4oJywgJyl9IGxlYWQgdG8gZWFjaCBvdGhlciBpbiBhIGNpcmNsZWAsXG4gICAgICB3aGVyZTogeyBmaWxlOiB5YW1sLmZpbGUgfSxcbiAgICB9KTtcbiAgfVxuICBjb25zdCBsb2FkczogTG9hZHMgPSBbXTtcbiAgY29uc3QgdGV4dHMgPSBbeWFtbC50ZXh0XTtcbiAgY29uc3QgcGxhY2VkID0gYXN5bmMgPFQ+KHBhdGg6IHJlYWRvbmx5IChzdHJpbmcgfCBudW1iZXIpW10sIHdvcms6ICgpID0+IFByb21pc2U8VD4pOiBQcm9taXNlPFQ+ID0+IHtcbiAgICB0cnkge1xuICAgICAgcmV0dXJuIGF3YWl0IHdvcmsoKTtcbiAgICB9IGNhdGNoIChlcnJvcikge1xuICAgICAgdGhyb3cgYXNQcm9ibGVtKGVycm9yKS5hdCh5YW1sLnBvc2l0aW9uKHBhdGgpKTtcbiAgICB9XG4gIH07XG4gIGNvbnN0IHBsYW5TdGVwcyA9IGFzeW5jIChcbiAgICBmaWxlczogcmVhZG9ubHkgU3RlcEZpbGVbXSxcbiAgICBwYXRoOiByZWFkb25seSAoc3RyaW5nIHwgbnVtYmVyKVtdLFxuICApOiBQcm9taXNlPHJlYWRvbmx5IFBsYW5uZWRTdGVwW10+ID0+IHtcbiAgICBjb25zdCBzdGVwczogUGxhbm5lZFN0ZXBbXSA9IFtdO1xuICAgIGZvciAoY29uc3QgW2luZGV4LCBmaWxlXSBvZiBmaWxlcy5lbnRyaWVzKCkpIHtcbiAgICAgIGNvbnN0IGF0ID0gWy4uLnBhdGgsIGluZGV4XTtcbiAgICAgIGNvbnN0IHJvb206IFBsYW5Sb29tID0ge1xuICAgICAgICB3b3Jrc3BhY2UsXG4gICAgICAgIGNvbGxlY3Rpb24sXG4gICAgICAgIHlhbWwsXG4gICAgICAgIHBhdGg6IGF0LFxuICAgICAgICBsb2FkcyxcbiAgICAgICAgcmVxdWVzdDogKHJlcXVlc3QsIGtleSkgPT4gcGxhY2VkKFsuLi5hdCwga2V5XSwgYXN5bmMgKCkgPT4gd29ya3NwYWNlLnByZXBhcmUocmVxdWVzdCkpLFxuICAgICAgICB0cmFpbDogKHRyYWlsLCBrZXkpID0+XG4gICAgICAgICAgcGxhY2VkKFsuLi5hdCwga2V5XSwgYXN5bmMgKCkgPT4ge1xuICAgICAgICAgICAgY29uc3QgaW5uZXIgPSBhd2FpdCBwbGFuVHJhaWwod29ya3NwYWNlLCB0cmFpbCwge30sIFsuLi5hYm92ZSwgbmFtZV0pO1xuICAgICAgICAgICAgdGV4dHMucHVzaChpbm5lci50ZXh0KTtcbiAgICAgICAgICAgIHJldHVybiBpbm5lcjtcbiAgICAgICAgICB9KSxcbiAgICAgICAgc3RlcHM6IHBsYW5TdGVwcyxcbiAgICAgIH07XG4gICAgICBzdGVwcy5wdXNoKGF3YWl0IHBsYW5TdGVwKGZpbGUsIHJvb20pKTtcbiAgICB9XG4gICAgcmV0dXJuIHN0ZXBzO1xuICB9O1xuICBjb25zdCBzdGVwcyA9IGF3YWl0IHBsYW5TdGVwcyhjb250ZW50LnN0ZXBzLCBbJ3N0ZXBzJ10pO1xuICBjb25zdCBwbGFuOiBUcmFpbFBsYW4gPSB7XG4gICAgbmFtZSxcbiAgICBzdGVwcyxcbiAgICB0YWtlczogWy4uLk9iamVjdC5rZXlzKGNvbnRlbnQuaW5wdXRzID8/IHt9KSwgLi4uc3RlcHMuZmxhdE1hcCgoeyB0YWtlcyB9KSA9PiB0YWtlcyA/PyBbXSldLFxuICAgIGlucHV0czogcGxhbklucHV0cyhjb250ZW50LmlucHV0cywgeyB5YW1sIH0sIGB0cmFpbCAke25hbWV9YCwgbG9hZHMpLFxuICAgIHJvd3M6IHJvd3NPZihjb250ZW50LCB3aXNoZXMsIHlhbWwsIGxvYWRzLCB3b3Jrc3BhY2UpLFxuICAgIGF0T25jZTogd2lzaGVzLmF0T25jZSA/PyBjb250ZW50WydhdC1vbmNlJ10gPz8gMSxcbiAgICB1bmRvOiBjb250ZW50LnVuZG8gPz8gJ2ZhaWx1cmUnLFxuICAgIHRhYmxlOiBjb250ZW50LnRhYmxlICYmIHBsYW5UYWJsZShjb250ZW50LnRhYmxlLCB5YW1sLCBbJ3RhYmxlJ10sIGxvYWRzKSxcbiAgICB0ZXh0OiB0ZXh0cy5qb2luKCdcXG4nKSxcbiAgfTtcbiAgYXdhaXQgUHJvbWlzZS5hbGwobG9hZHMpO1xuICByZXR1cm4gcGxhbjtcbn1cblxuZnVuY3Rpb24gcm93c09mKFxuICB7IHJvd3MgfTogVHJhaWxGaWxlLFxuICB3aXNoZXM6IFBsYW5XaXNoZXMsXG4gIHlhbWw6IFlhbWxGaWxlLFxuICBsb2FkczogTG9hZHMsXG4gIHdvcmtzcGFjZTogV29ya3NwYWNlLFxuKTogVHJhaWxQbGFuWydyb3dzJ10ge1xuICBpZiAod2lzaGVzLnJvd3MgIT09IHVuZGVmaW5lZCkgcmV0dXJuIHBsYW5Sb3dzKHdpc2hlcy5yb3dzLCB5YW1sLCBsb2Fkcywgd29ya3NwYWNlKTtcbiAgcmV0dXJuIHJvd3MgPT09IHVuZGVmaW5lZCA/IHVuZGVmaW5lZCA6IHBsYW5Sb3dzKHJvd3MgYXMgc3RyaW5nIHwgVmFsdWVbXSwgeWFtbCwgbG9hZHMsIHdvcmtzcGFjZSk7XG59XG5cbmFzeW5jIGZ1bmN0aW9uIHBsYW5TdGVwKGZpbGU6IFN0ZXBGaWxlLCByb29tOiBQbGFuUm9vbSk6IFByb21pc2U8UGxhbm5lZFN0ZXA+IHtcbiAgY29uc3QgeyB5YW1sLCBsb2Fkcywgd29ya3NwYWNlLCBwYXRoIH0gPSByb29tO1xuICBjb25zdCBraW5kID0gc3RlcEtpbmRzLmZpbmQoKG9uZSkgPT4gb25lLmZpdHMoZmlsZSkpO1xuICBpZiAoIWtpbmQpIHRocm93IG5ldyBQcm9ibGVtKCdmaWxlLXNoYXBlJywgeyB3aGF0OiAndGhlIHN0ZXAgaXMgb2Ygbm8ga25vd24ga2luZCcsIHdoZXJlOiB5YW1sLnBvc2l0aW9uKHBhdGgpIH0pO1xuICBjb25zdCBwbGFubmVkID0gYXdhaXQga2luZC5wbGFuKGZpbGUsIHJvb20pO1xuICBjb25zdCB7IHJlYWRUZXh0IH0gPSB3b3Jrc3BhY2U7XG4gIGNvbnN0IHdoZW4gPSBmaWxlLndoZW4gJiYgY29tcGlsZUNvbmRpdGlvbihmaWxlLndoZW4sIFsuLi5wYXRoLCAnd2hlbiddLCB7IHlhbWwsIGxvYWRzLCByZWFkVGV4dCB9KTtcbiAgcmV0dXJuIHsgLi4ucGxhbm5lZCwgd2hlbiB9O1xufVxuXG4vKiogQSByZXF1ZXN0IHdhbGtlZCBhcyBhIHRyYWlsIG9mIG9uZSBzdGVwLCBzbyB0aGF0IGBydW5gIHRha2VzIGJvdGguICovXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gcmVxdWVzdEFzVHJhaWwoXG4gIHdvcmtzcGFjZTogV29ya3NwYWNlLFxuICBwcmVwYXJlZDogUHJlcGFyZWRSZXF1ZXN0LFxuICB3aXNoZXM6IFBsYW5XaXNoZXMgPSB7fSxcbik6IFByb21pc2U8VHJhaWxQbGFuPiB7XG4gIGNvbnN0IHsgeWFtbCwgbmFtZSB9ID0gcHJlcGFyZWQucGxhbjtcbiAgY29uc3QgbG9hZHM6IExvYWRzID0gW107XG4gIGNvbnN0IG5vdGhpbmdJbnNpZGUgPSAoKTogUHJvbWlzZTxuZXZlcj4gPT5cbiAgICBQcm9taXNlLnJlamVjdChuZXcgUHJvYmxlbSgnY2lyY2xlJywgeyB3aGF0OiAnYSByZXF1ZXN0IGhhcyBuZWl0aGVyIHRyYWlscyBub3Igc3RlcHMnIH0pKTtcbiAgY29uc3Qgcm9vbTogUGxhblJvb20gPSB7XG4gICAgd29ya3NwYWNlLFxuICAgIGNvbGxlY3Rpb246IHdvcmtzcGFjZS5jb2xsZWN0aW9uLFxuICAgIHlhbWwsXG4gICAgcGF0aDogW10sXG4gICAgbG9hZHMsXG4gICAgcmVxdWVzdDogYXN5bmMgKCkgPT4gcHJlcGFyZWQsXG4gICAgdHJhaWw6IG5vdGhpbmdJbnNpZGUsXG4gICAgc3RlcHM6IG5vdGhpbmdJbnNpZGUsXG4gIH07XG4gIGNvbnN0IHN0ZXAgPSBhd2FpdCBzZW5kLnBsYW4oeyBzZW5kOiBuYW1lIH0sIHJvb20pO1xuICBjb25zdCByb3dzID0gd2lzaGVzLnJvd3MgPT09IHVuZGVmaW5lZCA/IHVuZGVmaW5lZCA6IHBsYW5Sb3dzKHdpc2hlcy5yb3dzLCB5YW1sLCBsb2Fkcywgd29ya3NwYWNlKTtcbiAgYXdhaXQgUHJvbWlzZS5hbGwobG9hZHMpO1xuICByZXR1cm4ge1xuICAgIG5hbWUsXG4gICAgc3RlcHM6IFt7IC4uLnN0ZXAsIHdoZW46IHVuZGVmaW5lZCB9XSxcbiAgICB0YWtlczogcHJlcGFyZWQucGxhbi5pbnB1dHMubWFwKChpbnB1dCkgPT4gaW5wdXQubmFtZSksXG4gICAgLy8gT25seSB3aGF0IHRoZSBjb21tYW5kIGxpbmUgbmFtZXM7IHRoZSByZXF1ZXN0IGhhcyBpdHMgZGVmYXVsdHMgaXRzZWxmLlxuICAgIGlucHV0czogcHJlcGFyZWQucGxhbi5pbnB1dHMuZmlsdGVyKChpbnB1dCkgPT4gd29ya3NwYWNlLnNldHRpbmdzLmhhcyhpbnB1dC5uYW1lKSksXG4gICAgcm93cyxcbiAgICBhdE9uY2U6IHdpc2hlcy5hdE9uY2UgPz8gMSxcbiAgICB1bmRvOiAnbmV2ZXInLFxuICAgIHRhYmxlOiB1bmRlZmluZWQsXG4gICAgdGV4dDogeWFtbC50ZXh0LFxuICB9O1xufVxuIl0sCiAgIm1hcHBpbmdzIjogIjs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7OztBQUdPLElBQU0sUUFBTixNQUFNLE9BQXVCO0FBQUE7QUFBQSxFQUlsQyxZQUNtQixRQUNqQixPQUNpQixPQUNqQjtBQUhpQjtBQUVBO0FBRWpCLFNBQUssU0FBUyxRQUFRLENBQUMsT0FBTyxHQUFHLE1BQU0sTUFBTSxJQUFJLENBQUMsS0FBSztBQUFBLEVBQ3pEO0FBQUEsRUFMbUI7QUFBQSxFQUVBO0FBQUEsRUFOVjtBQUFBLEVBV1QsT0FBTyxNQUFpQztBQUN0QyxXQUFPLEtBQUssT0FBTyxJQUFJLElBQUksS0FBSyxLQUFLLE9BQU8sT0FBTyxJQUFJO0FBQUEsRUFDekQ7QUFBQSxFQUVBLENBQUMsUUFBMEI7QUFDekIsV0FBTyxLQUFLLE9BQU8sS0FBSztBQUN4QixRQUFJLEtBQUssTUFBTyxRQUFPLEtBQUssTUFBTSxNQUFNO0FBQUEsRUFDMUM7QUFBQSxFQUVBLElBQUksTUFBYyxPQUFvQjtBQUNwQyxTQUFLLE9BQU8sSUFBSSxNQUFNLEtBQUs7QUFBQSxFQUM3QjtBQUFBO0FBQUEsRUFHQSxXQUFrQjtBQUNoQixXQUFPLElBQUksT0FBTSxJQUFJLElBQUksS0FBSyxNQUFNLEdBQUcsS0FBSyxPQUFPLENBQUMsS0FBSyxJQUFJLEtBQUssT0FBTyxTQUFTLENBQUM7QUFBQSxFQUNyRjtBQUNGOzs7QUNyQk8sU0FBUyxXQUNkLE1BQ0EsV0FDQSxPQUNBLEtBQ087QUFDUCxRQUFNLFNBQVMsb0JBQUksSUFBbUI7QUFDdEMsTUFBSSxLQUFLO0FBQ1AsVUFBTSxTQUFTLE9BQU8sSUFBSSxNQUFNLE9BQU8sS0FBSyxNQUFNLElBQUk7QUFDdEQsV0FBTyxJQUFJLE9BQU8sRUFBRSxPQUFPLElBQUksU0FBUyxPQUFPLENBQUM7QUFDaEQsZUFBVyxRQUFRLElBQUksUUFBUyxRQUFPLElBQUksTUFBTSxFQUFFLE9BQU8sSUFBSSxRQUFRLElBQUksR0FBWSxPQUFPLENBQUM7QUFBQSxFQUNoRztBQUNBLFNBQU8sV0FBVyxNQUFNLFdBQVcsUUFBUSxPQUFPLENBQUMsVUFBVTtBQUMzRCxVQUFNLGFBQWEsS0FBSztBQUFBLEVBQzFCLENBQUM7QUFDSDtBQUdPLFNBQVMsV0FBVyxNQUFpQixXQUFzQixPQUFvRDtBQUNwSCxTQUFPLFdBQVcsTUFBTSxXQUFXLG9CQUFJLElBQUksR0FBRyxPQUFPLE1BQU0sTUFBUztBQUN0RTtBQUVBLFNBQVMsV0FDUCxNQUNBLFdBQ0EsUUFDQSxPQUNBLFNBQ087QUFDUCxRQUFNLFFBQVEsSUFBSSxNQUFNLFFBQVEsbUJBQW1CLEtBQUssSUFBSSxFQUFFO0FBQzlELE1BQUksS0FBSyxPQUFPLFdBQVcsRUFBRyxRQUFPO0FBQ3JDLFFBQU0sZUFBZSxFQUFFLE9BQU8sVUFBVSxNQUFNLEdBQUcsVUFBVSxVQUFVLFNBQVMsSUFBSTtBQUNsRixRQUFNLFFBQVEsY0FBYyxVQUFVLFFBQVEsU0FBUyxZQUFZO0FBQ25FLGFBQVcsU0FBUyxLQUFLLFFBQVE7QUFDL0IsVUFBTSxRQUFRLFdBQVcsT0FBTyxNQUFNLE1BQU0sSUFBSSxLQUFLLE9BQU8sSUFBSSxNQUFNLElBQUksR0FBRyxPQUFPLFlBQVk7QUFDaEcsUUFBSSxNQUFPLE9BQU0sSUFBSSxNQUFNLE1BQU0sS0FBSztBQUFBLFFBQ2pDLFNBQVEsS0FBSztBQUFBLEVBQ3BCO0FBQ0EsU0FBTztBQUNUO0FBR08sSUFBTSxrQkFDWCxDQUFDLEVBQUUsU0FBUyxNQUNaLENBQUMsVUFBcUM7QUFDcEMsUUFBTSxRQUFRLFNBQVMsSUFBSSxLQUFLO0FBQ2hDLFNBQU8sVUFBVSxTQUFZLFNBQVksRUFBRSxPQUFPLFFBQVEsUUFBUTtBQUNwRTs7O0FDbkNLLFNBQVMsaUJBQ2QsS0FDQSxNQUNBLE1BQ1c7QUFDWCxRQUFNQSxTQUFRLE9BQU8sUUFBUSxHQUFHLEVBQUUsSUFBSSxDQUFDLENBQUMsTUFBTSxLQUFLLE1BQWlCO0FBQ2xFLFVBQU0sS0FBSyxDQUFDLEdBQUcsTUFBTSxJQUFJO0FBQ3pCLFFBQUk7QUFDRixVQUFJLFNBQVMsU0FBUyxNQUFNLFFBQVEsS0FBSyxHQUFHO0FBQzFDLGNBQU0sT0FBUSxNQUEyQjtBQUFBLFVBQUksQ0FBQyxLQUFLLFVBQ2pELGlCQUFpQixNQUFNLEdBQUcsR0FBRyxDQUFDLEdBQUcsSUFBSSxLQUFLLEdBQUcsSUFBSTtBQUFBLFFBQ25EO0FBQ0EsZUFBTyxDQUFDLGVBQWUsS0FBSyxLQUFLLENBQUMsVUFBVSxNQUFNLFVBQVUsQ0FBQztBQUFBLE1BQy9EO0FBQ0EsVUFBSSxTQUFTLFNBQVMsV0FBVyxLQUFLLEdBQUc7QUFDdkMsY0FBTSxRQUFRLGlCQUFpQixNQUFNLEtBQUssR0FBRyxJQUFJLElBQUk7QUFDckQsZUFBTyxDQUFDLGVBQWUsQ0FBQyxNQUFNLFVBQVU7QUFBQSxNQUMxQztBQUNBLGFBQU8sU0FBUyxNQUFNLE9BQU8sSUFBSSxJQUFJO0FBQUEsSUFDdkMsU0FBUyxPQUFPO0FBQ2QsWUFBTSxVQUFVLEtBQUssRUFBRSxHQUFHLEtBQUssS0FBSyxTQUFTLEVBQUUsQ0FBQztBQUFBLElBQ2xEO0FBQUEsRUFDRixDQUFDO0FBQ0QsU0FBTyxDQUFDLGVBQWVBLE9BQU0sTUFBTSxDQUFDLFVBQVUsTUFBTSxVQUFVLENBQUM7QUFDakU7QUFFQSxTQUFTLE1BQU0sT0FBK0M7QUFDNUQsTUFBSSxXQUFXLEtBQUssRUFBRyxRQUFPO0FBQzlCLFFBQU0sSUFBSSxRQUFRLGlCQUFpQixFQUFFLE1BQU0sdURBQXVELENBQUM7QUFDckc7QUFHQSxTQUFTLFNBQ1AsTUFDQSxPQUNBLElBQ0EsRUFBRSxNQUFNLE9BQU8sU0FBUyxHQUNiO0FBRVgsUUFBTSxNQUFNLE9BQU8sS0FBSyxJQUFJLElBQUksUUFBUSxJQUFJLElBQUk7QUFDaEQsUUFBTSxPQUFPLFlBQVksT0FBTyxDQUFDLFVBQVUsS0FBSyxTQUFTLENBQUMsR0FBRyxJQUFJLEdBQUcsS0FBSyxDQUFDLEdBQUcsS0FBSztBQUNsRixRQUFNLFNBQVMsQ0FBQyxVQUFpQixTQUMvQixnQkFBZ0IsVUFBVSxFQUFFLFNBQVMsRUFBRSxRQUFRLE1BQU0sR0FBRyxPQUFPLE1BQU0sU0FBUyxDQUFDO0FBQ2pGLFFBQU0sUUFBUSxLQUFLLGFBQWEsU0FBWSxTQUFZLE9BQU8sS0FBSyxVQUFVLEtBQUs7QUFDbkYsU0FBTyxDQUFDLGVBQWU7QUFDckIsVUFBTSxRQUFRLFdBQVcsTUFBTSxPQUFPLElBQUksR0FBRyxTQUFTLE1BQU0sVUFBVTtBQUN0RSxRQUFJLFFBQVE7QUFDWixRQUFJLENBQUMsT0FBTztBQUNWLFlBQU0sV0FBVyxLQUFLLFNBQVMsVUFBVTtBQUN6QyxZQUFNLE9BQWMsQ0FBQztBQUNyQixjQUFRLE9BQU8sYUFBYSxVQUFVLE9BQU8sVUFBVSxJQUFJO0FBQzNELFVBQUksS0FBSyxTQUFTLEdBQUc7QUFDbkIsY0FBTSxJQUFJLFFBQVEsaUJBQWlCO0FBQUEsVUFDakMsTUFBTSxzQkFBc0IsSUFBSTtBQUFBLFVBQ2hDLFFBQVE7QUFBQSxRQUNWLENBQUM7QUFBQSxNQUNIO0FBQUEsSUFDRjtBQUNBLFdBQU8sTUFBTSxLQUFLLE9BQU8sQ0FBQyxDQUFDLE1BQU07QUFBQSxFQUNuQztBQUNGO0FBR0EsU0FBUyxRQUFRLE1BQTZEO0FBQzVFLFFBQU0sT0FBTyxnQkFBZ0IsSUFBSTtBQUNqQyxRQUFNLE9BQU8sS0FBSyxTQUFTLFNBQVMsS0FBSyxNQUFNLElBQUksQ0FBQyxTQUFVLFNBQVMsT0FBTyxLQUFLLE1BQU0sTUFBVSxJQUFJLENBQUM7QUFDeEcsTUFBSSxLQUFLLFNBQVMsVUFBVSxLQUFLLFNBQVMsTUFBUyxHQUFHO0FBQ3BELFVBQU0sSUFBSSxRQUFRLGlCQUFpQjtBQUFBLE1BQ2pDLE1BQU0sNERBQTRELElBQUk7QUFBQSxNQUN0RSxRQUFRO0FBQUEsSUFDVixDQUFDO0FBQUEsRUFDSDtBQUNBLFNBQU8sQ0FBQyxFQUFFLE1BQU0sTUFBTTtBQUNwQixRQUFJLFFBQVEsTUFBTSxPQUFPLEtBQUssSUFBSSxHQUFHO0FBQ3JDLGVBQVcsT0FBTyxNQUE2QjtBQUM3QyxVQUFJLE1BQU0sUUFBUSxLQUFLLEVBQUcsU0FBUyxNQUEyQixHQUFHLE9BQU8sR0FBRyxDQUFDO0FBQUEsVUFDdkUsU0FBUSxXQUFXLEtBQUssS0FBSyxPQUFPLE9BQU8sT0FBTyxHQUFHLElBQUksTUFBTSxHQUFHLElBQUk7QUFBQSxJQUM3RTtBQUNBLFdBQU87QUFBQSxFQUNUO0FBQ0Y7OztBQ3RHQSxTQUFTLHdCQUF3Qjs7O0FDR2pDLElBQUk7QUFFSixlQUFlLE9BQTJDO0FBQ3hELGFBQVcsTUFBTSxPQUFPLFdBQVcsR0FBRztBQUN0QyxTQUFPO0FBQ1Q7QUFFTyxJQUFNLE1BQWlCO0FBQUEsRUFDNUIsTUFBTTtBQUFBLEVBQ04sUUFBUTtBQUFBLEVBQ1I7QUFBQSxFQUNBLE9BQU8sS0FBSyxRQUFRLE1BQU07QUFDeEIsVUFBTSxTQUFTLE9BQU8sTUFBTSxNQUFNLEtBQUssR0FBRyxFQUFFLFNBQVMsTUFBTSxLQUFLLE1BQU0sa0JBQWtCLE1BQU0sTUFBTSxNQUFNLENBQUMsQ0FBQztBQUU1RyxXQUFPLEdBQUcsU0FBUyxDQUFDLFVBQVUsT0FBTyxRQUFRLEtBQUssQ0FBQztBQUNuRCxRQUFJO0FBQ0YsdUJBQWlCLFdBQVcsT0FBaUQsT0FBTTtBQUFBLElBQ3JGLFNBQVMsT0FBTztBQUNkLFVBQUksaUJBQWlCLFFBQVMsT0FBTTtBQUNwQyxZQUFNLEVBQUUsU0FBUyxNQUFNLElBQUk7QUFDM0IsWUFBTSxJQUFJO0FBQUEsUUFDUjtBQUFBLFFBQ0EsRUFBRSxNQUFNLEdBQUcsSUFBSSwyQkFBMkIsT0FBTyxFQUFFLE1BQU0sTUFBTSxNQUFNLEdBQUcsT0FBTyxRQUFRO0FBQUEsUUFDdkYsRUFBRSxPQUFPLE1BQU07QUFBQSxNQUNqQjtBQUFBLElBQ0Y7QUFBQSxFQUNGO0FBQ0Y7OztBQ3JCTyxJQUFNLE9BQWtCO0FBQUEsRUFDN0IsTUFBTTtBQUFBLEVBQ04sUUFBUTtBQUFBLEVBQ1IsT0FBTyxLQUFLLFFBQVEsTUFBTTtBQUN4QixRQUFJLFNBQVM7QUFDYixxQkFBaUIsUUFBUSxRQUFRLFFBQVEsSUFBSSxHQUFHO0FBQzlDLGdCQUFVO0FBQ1YsVUFBSTtBQUNKLFVBQUk7QUFDRixlQUFPLFVBQVUsSUFBSTtBQUFBLE1BQ3ZCLFNBQVMsT0FBTztBQUNkLGNBQU0sSUFBSSxRQUFRLGNBQWM7QUFBQSxVQUM5QixNQUFNLFFBQVEsTUFBTSxPQUFPLElBQUk7QUFBQSxVQUMvQixPQUFPLEVBQUUsS0FBSztBQUFBLFVBQ2QsT0FBUSxNQUFnQjtBQUFBLFFBQzFCLENBQUM7QUFBQSxNQUNIO0FBQ0EsVUFBSSxDQUFDLFdBQVcsSUFBSTtBQUNsQixjQUFNLElBQUksUUFBUSxjQUFjLEVBQUUsTUFBTSxRQUFRLE1BQU0sT0FBTyxJQUFJLDBCQUEwQixPQUFPLEVBQUUsS0FBSyxFQUFFLENBQUM7QUFDOUcsWUFBTTtBQUFBLElBQ1I7QUFBQSxFQUNGO0FBQ0Y7QUFHQSxnQkFBZ0IsUUFBUSxRQUFrQixNQUFzQztBQUM5RSxNQUFJLE9BQU87QUFDWCxNQUFJLFFBQVE7QUFDWixNQUFJLFNBQVM7QUFDYixNQUFJLFVBQVU7QUFDZCxTQUFPLFlBQVksTUFBTTtBQUN6QixtQkFBaUIsU0FBUyxRQUFpQztBQUN6RCxRQUFJLE9BQU87QUFDWCxhQUFTLEtBQUssR0FBRyxLQUFLLE1BQU0sUUFBUSxNQUFNLEdBQUc7QUFDM0MsWUFBTSxTQUFTLE1BQU0sRUFBRTtBQUN2QixVQUFJLFFBQVE7QUFDVixZQUFJLFFBQVMsV0FBVTtBQUFBLGlCQUNkLFdBQVcsS0FBTSxXQUFVO0FBQUEsaUJBQzNCLFdBQVcsSUFBSyxVQUFTO0FBQUEsTUFDcEMsV0FBVyxXQUFXLElBQUssVUFBUztBQUFBLGVBQzNCLFdBQVcsT0FBTyxXQUFXLEtBQUs7QUFDekMsaUJBQVM7QUFDVCxZQUFJLFVBQVUsR0FBRztBQUNmLGNBQUksV0FBVyxJQUFLLE9BQU0sU0FBUyxJQUFJO0FBQ3ZDLGlCQUFPLEtBQUs7QUFBQSxRQUNkO0FBQUEsTUFDRixXQUFXLFdBQVcsT0FBTyxXQUFXLE9BQVEsV0FBVyxPQUFPLFVBQVUsR0FBSTtBQUM5RSxZQUFJLFNBQVMsR0FBRztBQUNkLGtCQUFRLE1BQU0sTUFBTSxNQUFNLEVBQUU7QUFDNUIsY0FBSSxLQUFLLEtBQUssTUFBTSxHQUFJLE9BQU07QUFBQSxtQkFDckIsV0FBVyxJQUFLLE9BQU0sU0FBUyxJQUFJO0FBQzVDLGlCQUFPO0FBQ1AsaUJBQU8sS0FBSztBQUFBLFFBQ2Q7QUFDQSxZQUFJLFdBQVcsSUFBSyxVQUFTO0FBQUEsTUFDL0IsV0FBVyxVQUFVLEtBQUssQ0FBQyxhQUFhLEtBQUssTUFBTSxFQUFHLE9BQU0sU0FBUyxJQUFJO0FBQUEsSUFDM0U7QUFDQSxRQUFJLFFBQVEsRUFBRyxTQUFRLE1BQU0sTUFBTSxJQUFJO0FBQUEsRUFDekM7QUFDQSxNQUFJLFFBQVEsR0FBRztBQUNiLFVBQU0sSUFBSSxRQUFRLGNBQWMsRUFBRSxNQUFNLEdBQUcsSUFBSSxtQ0FBbUMsT0FBTyxFQUFFLEtBQUssRUFBRSxDQUFDO0FBQUEsRUFDckc7QUFDRjtBQUVBLElBQU0sV0FBVyxDQUFDLFNBQ2hCLElBQUksUUFBUSxjQUFjO0FBQUEsRUFDeEIsTUFBTSxHQUFHLElBQUk7QUFBQSxFQUNiLE9BQU8sRUFBRSxLQUFLO0FBQUEsRUFDZCxRQUFRO0FBQ1YsQ0FBQzs7O0FDOUVILFNBQVMsdUJBQXVCO0FBTXpCLElBQU0sUUFBbUI7QUFBQSxFQUM5QixNQUFNO0FBQUEsRUFDTixRQUFRO0FBQUEsRUFDUixPQUFPLEtBQUssUUFBUSxNQUFNO0FBQ3hCLFFBQUksT0FBTztBQUNYLHFCQUFpQixRQUFRLGdCQUFnQixFQUFFLE9BQU8sUUFBUSxXQUFXLE9BQU8sa0JBQWtCLENBQUMsR0FBRztBQUNoRyxjQUFRO0FBQ1IsVUFBSSxLQUFLLEtBQUssTUFBTSxHQUFJO0FBQ3hCLFVBQUk7QUFDSixVQUFJO0FBQ0Ysa0JBQVUsVUFBVSxJQUFJO0FBQUEsTUFDMUIsU0FBUyxPQUFPO0FBQ2QsY0FBTSxJQUFJLFFBQVEsY0FBYztBQUFBLFVBQzlCLE1BQU0sR0FBRyxJQUFJO0FBQUEsVUFDYixPQUFPLEVBQUUsTUFBTSxLQUFLO0FBQUEsVUFDcEIsT0FBUSxNQUFnQjtBQUFBLFFBQzFCLENBQUM7QUFBQSxNQUNIO0FBQ0EsVUFBSSxDQUFDLFdBQVcsT0FBTztBQUNyQixjQUFNLElBQUksUUFBUSxjQUFjLEVBQUUsTUFBTSwrQkFBK0IsT0FBTyxFQUFFLE1BQU0sS0FBSyxFQUFFLENBQUM7QUFDaEcsWUFBTTtBQUFBLElBQ1I7QUFBQSxFQUNGO0FBQ0Y7OztBSGxCQSxJQUFNLGFBQW1DLENBQUMsS0FBSyxNQUFNLEtBQUs7QUFFMUQsU0FBUyxZQUFZLE1BQXlCO0FBQzVDLFFBQU0sUUFBUSxXQUFXLEtBQUssQ0FBQyxFQUFFLE9BQU8sTUFBTSxPQUFPLEtBQUssSUFBSSxDQUFDO0FBQy9ELE1BQUksTUFBTyxRQUFPO0FBQ2xCLFFBQU0sSUFBSSxRQUFRLGNBQWM7QUFBQSxJQUM5QixNQUFNLDZEQUE2RCxJQUFJO0FBQUEsRUFDekUsQ0FBQztBQUNIO0FBR08sU0FBUyxVQUFVLE1BQWMsTUFBYyxPQUFjLE9BQTJCO0FBQzdGLE1BQUk7QUFDRixVQUFNLEVBQUUsTUFBQUMsTUFBSyxJQUFJLFlBQVksSUFBSTtBQUNqQyxlQUFXLE1BQU0sSUFBSTtBQUNyQixRQUFJQSxNQUFNLE9BQU0sS0FBS0EsTUFBSyxDQUFDO0FBQUEsRUFDN0IsU0FBUyxPQUFPO0FBQ2QsVUFBTSxVQUFVLEtBQUssRUFBRSxHQUFHLEtBQUs7QUFBQSxFQUNqQztBQUNGO0FBR08sU0FBUyxTQUFTLE1BQWMsTUFBdUM7QUFDNUUsUUFBTSxTQUFTLFlBQVksSUFBSTtBQUMvQixTQUFPLE9BQU8sS0FBSyxpQkFBaUIsV0FBVyxNQUFNLElBQUksQ0FBQyxHQUFHLElBQUk7QUFDbkU7QUFHQSxnQkFBdUIsV0FBVyxRQUE0QztBQUM1RSxRQUFNLE9BQU87QUFDYixRQUFNLFFBQVEsTUFBTSxZQUFZLE1BQU07QUFDdEMsTUFBSSxVQUFVLE9BQVc7QUFDekIsVUFBUSxVQUFVLE1BQU0sT0FBTyxVQUFVLE1BQU0sUUFBUSxLQUFLLEtBQUssUUFBUSxJQUFJO0FBQy9FO0FBR0EsZUFBZSxZQUFZLFFBQStDO0FBQ3hFLGFBQVM7QUFDUCxVQUFNLFFBQVEsT0FBTyxLQUFLO0FBQzFCLFFBQUksVUFBVSxNQUFNO0FBQ2xCLFVBQUksT0FBTyxpQkFBaUIsT0FBTyxVQUFXLFFBQU87QUFDckQsWUFBTSxJQUFJLFFBQWMsQ0FBQyxZQUFZO0FBQ25DLGNBQU0sS0FBSyxNQUFZO0FBQ3JCLGlCQUFPLElBQUksWUFBWSxFQUFFLEVBQUUsSUFBSSxPQUFPLEVBQUUsRUFBRSxJQUFJLFNBQVMsRUFBRTtBQUN6RCxrQkFBUTtBQUFBLFFBQ1Y7QUFDQSxlQUFPLEdBQUcsWUFBWSxFQUFFLEVBQUUsR0FBRyxPQUFPLEVBQUUsRUFBRSxHQUFHLFNBQVMsRUFBRTtBQUFBLE1BQ3hELENBQUM7QUFDRDtBQUFBLElBQ0Y7QUFDQSxVQUFNLE9BQU8sTUFBTSxTQUFTLE1BQU0sRUFBRSxRQUFRLFdBQVcsRUFBRTtBQUN6RCxVQUFNLFFBQVEsS0FBSyxLQUFLLElBQUksSUFBSSxDQUFDO0FBQ2pDLFFBQUksVUFBVSxPQUFXO0FBQ3pCLFdBQU8sUUFBUSxLQUFLO0FBQ3BCLFdBQU87QUFBQSxFQUNUO0FBQ0Y7OztBSW5FQSxTQUFTLG9CQUFBQyx5QkFBd0I7QUFJakMsZUFBc0IsVUFBVSxNQUFjLE1BQTJDO0FBQ3ZGLFFBQU1DLE9BQU0sVUFBVSxLQUFLLElBQUk7QUFDL0IsTUFBSSxDQUFDQSxRQUFPLENBQUMsdUJBQXVCLEtBQUssSUFBSSxFQUFHLFFBQU87QUFDdkQsTUFBSSxRQUFRO0FBQ1osTUFBSSxPQUFPO0FBQ1gsbUJBQWlCLFNBQVNDLGtCQUFpQixXQUFXLE1BQU0sSUFBSSxDQUFDLEdBQTRCO0FBQzNGLGFBQVMsS0FBSyxNQUFNLFFBQVEsRUFBRSxHQUFHLE9BQU8sSUFBSSxLQUFLLE1BQU0sUUFBUSxJQUFJLEtBQUssQ0FBQyxFQUFHLFVBQVM7QUFDckYsV0FBTyxNQUFNLEdBQUcsRUFBRSxLQUFLO0FBQUEsRUFDekI7QUFDQSxTQUFPLEtBQUssSUFBSSxHQUFHLFNBQVMsU0FBUyxLQUFLLElBQUksTUFBTUQsT0FBTSxJQUFJLEVBQUU7QUFDbEU7OztBQ1NPLFNBQVMsU0FDZCxPQUNBLE1BQ0EsT0FDQSxFQUFFLFlBQVksRUFBRSxLQUFLLEdBQUcsY0FBYyxHQUM1QjtBQUNWLE1BQUksVUFBVSxLQUFLO0FBQ2pCLFFBQUksQ0FBQyxjQUFlLE9BQU0sSUFBSSxRQUFRLFNBQVMsRUFBRSxNQUFNLHlEQUF5RCxDQUFDO0FBQ2pILFdBQU8sRUFBRSxNQUFNLGtCQUFrQixNQUFNLE1BQU0sU0FBUyxXQUFXLGNBQWMsQ0FBQyxDQUFDLEdBQUcsT0FBTyxRQUFRO0FBQUEsRUFDckc7QUFDQSxNQUFJLE9BQU8sVUFBVSxZQUFZLENBQUMsTUFBTSxTQUFTLElBQUksR0FBRztBQUN0RCxjQUFVLE1BQU0sT0FBTyxPQUFPLEtBQUssU0FBUyxDQUFDLE1BQU0sQ0FBQyxDQUFDO0FBQ3JELFdBQU87QUFBQSxNQUNMLE1BQU07QUFBQSxNQUNOLE1BQU0sTUFBTSxTQUFTLFNBQVMsTUFBTSxLQUFLLENBQUM7QUFBQSxNQUMxQyxPQUFPLE1BQU0sVUFBVSxNQUFNLEtBQUs7QUFBQSxJQUNwQztBQUFBLEVBQ0Y7QUFDQSxRQUFNLFFBQVEsS0FBSyxTQUFTLENBQUMsTUFBTSxDQUFDO0FBQ3BDLFFBQU0sT0FBTyxZQUFZLE9BQWdCLENBQUMsU0FBUyxLQUFLLFNBQVMsQ0FBQyxRQUFRLEdBQUcsSUFBSSxDQUFDLEdBQUcsS0FBSztBQUMxRixTQUFPO0FBQUEsSUFDTCxNQUFNO0FBQUEsSUFDTixPQUFPO0FBQUEsSUFDUCxLQUFLLFdBQVcsS0FBSztBQUNuQixZQUFNLGVBQWUsRUFBRSxPQUFPLFVBQVUsTUFBTSxHQUFHLFVBQVUsVUFBVSxTQUFTLElBQUk7QUFDbEYsWUFBTSxRQUFRLFFBQVEsS0FBSyxjQUFjLFVBQVUsUUFBUSxLQUFLLFlBQVksQ0FBQztBQUM3RSxZQUFNLFFBQVEsS0FBSyxTQUFTLElBQUksV0FBVyxPQUFPLFlBQVksQ0FBQztBQUMvRCxVQUFJLFVBQVUsV0FBVyxNQUFNLFFBQVEsS0FBSyxFQUFHLFFBQU8sU0FBUyxPQUFPLEtBQXlCLENBQUM7QUFDaEcsWUFBTSxJQUFJLFFBQVEsY0FBYyxFQUFFLE1BQU0sc0RBQXNELE1BQU0sQ0FBQztBQUFBLElBQ3ZHO0FBQUEsRUFDRjtBQUNGO0FBRUEsSUFBTSxVQUFVLFlBQWdDO0FBR2hELGdCQUFnQixPQUFPLE9BQW1EO0FBQ3hFLGFBQVcsUUFBUSxNQUFPLE9BQU0sV0FBVyxJQUFJLElBQUksT0FBTyxFQUFFLE9BQU8sS0FBSztBQUMxRTtBQUVBLGdCQUFnQixTQUFTLE1BQW9EO0FBQzNFLE1BQUksU0FBUztBQUNiLG1CQUFpQixXQUFXLE1BQU07QUFDaEMsY0FBVTtBQUNWLFVBQU0sRUFBRSxRQUFRLFFBQVE7QUFBQSxFQUMxQjtBQUNGOzs7QUMxRE8sU0FBUyxVQUNkLFFBQ0EsRUFBRSxNQUFNLE1BQU0sR0FDZCxNQUNPO0FBQ1AsU0FBTyxJQUFJO0FBQUEsSUFDVCxPQUFPLFFBQVEsVUFBVSxDQUFDLENBQUMsRUFBRSxJQUFJLENBQUMsQ0FBQyxLQUFLLEtBQUssTUFBTTtBQUFBLE1BQ2pEO0FBQUEsTUFDQSxZQUFZLE9BQU8sQ0FBQyxVQUFVLEtBQUssU0FBUyxDQUFDLEdBQUcsTUFBTSxLQUFLLEdBQUcsS0FBSyxDQUFDLEdBQUcsS0FBSztBQUFBLElBQzlFLENBQUM7QUFBQSxFQUNIO0FBQ0Y7QUFHTyxTQUFTLGVBQWUsV0FBc0IsT0FBMEI7QUFDN0UsUUFBTSxlQUFlLEVBQUUsT0FBTyxVQUFVLE1BQU0sR0FBRyxVQUFVLFVBQVUsU0FBUyxJQUFJO0FBQ2xGLFNBQU8sSUFBSSxXQUFXLFFBQVEsT0FBTyxjQUFjLFVBQVUsUUFBUSxPQUFPLFlBQVksQ0FBQyxHQUFHLFlBQVk7QUFDMUc7QUFFTyxTQUFTLFVBQVUsTUFBWSxZQUF3QixRQUFtQztBQUMvRixRQUFNLFFBQVEsSUFBSSxXQUFXLFdBQVcsT0FBTyxVQUFVO0FBQ3pELFFBQU0sUUFBUSxLQUFLLFNBQVMsS0FBSztBQUNqQyxTQUFPLFVBQVUsVUFBVSxTQUFZLEVBQUUsT0FBTyxRQUFRLFFBQVEsTUFBTSxjQUFjO0FBQ3RGO0FBR08sU0FBUyxNQUNkLE9BQ0EsV0FDQSxPQUNBLE9BQ3NDO0FBQ3RDLE1BQUk7QUFDSixTQUFPLENBQUMsVUFBVTtBQUNoQixVQUFNLE9BQU8sTUFBTSxJQUFJLEtBQUs7QUFDNUIsUUFBSSxDQUFDLEtBQU0sUUFBTyxNQUFNLE9BQU8sS0FBSztBQUNwQyxtQkFBZSxlQUFlLFdBQVcsS0FBSztBQUM5QyxXQUFPLFVBQVUsTUFBTSxZQUFZLGlCQUFpQixLQUFLLEVBQUU7QUFBQSxFQUM3RDtBQUNGOzs7QUNoQ08sU0FBUyxVQUNkLE9BQ0EsTUFDQSxPQUFxQyxDQUFDLEdBQ3pCO0FBQ2IsU0FBTyxVQUFXLFNBQVMsTUFBZ0IsSUFBSSxFQUFFO0FBQUEsSUFBUSxDQUFDLEVBQUUsUUFBUSxPQUFPLENBQUMsR0FBRyxNQUFNLElBQUksVUFBVSxTQUFTLE1BQzFHLFdBQVcsVUFBYSxZQUFZLFdBQVcsQ0FBQyxJQUFJLENBQUMsRUFBRSxNQUFNLFFBQVEsS0FBSyxLQUFLLENBQUMsR0FBRyxPQUFPLEtBQUssU0FBUyxDQUFDLEdBQUcsRUFBRSxDQUFDLEVBQUUsQ0FBQztBQUFBLEVBQ3BIO0FBQ0Y7QUFFQSxJQUFNLFFBQVEsQ0FBQyxPQUFPLFFBQVEsU0FBUyxXQUFXLFdBQVcsTUFBTTtBQUc1RCxTQUFTLFVBQ2QsRUFBRSxXQUFXLEdBQ2IsRUFBRSxTQUFTLE1BQU0sS0FBSyxHQUN0QixVQUNBLFdBQ2E7QUFDYixTQUFPO0FBQUEsSUFDTCxHQUFHLE1BQU0sUUFBUSxDQUFDLFNBQVMsVUFBVSxRQUFRLElBQUksR0FBRyxNQUFNLENBQUMsSUFBSSxDQUFDLENBQUM7QUFBQSxJQUNqRSxHQUFHLFdBQ0EsU0FBUyxJQUFJLEVBQ2I7QUFBQSxNQUFRLENBQUMsYUFDUCxDQUFDLFdBQVcsT0FBTyxFQUFZO0FBQUEsUUFBUSxDQUFDLFNBQ3ZDLE9BQU8sUUFBUSxTQUFTLFFBQVEsSUFBSSxLQUFLLENBQUMsQ0FBQyxFQUFFO0FBQUEsVUFBUSxDQUFDLENBQUMsS0FBSyxLQUFLLE1BQy9ELE9BQU8sS0FBSyxRQUFRLElBQUksS0FBSyxDQUFDLENBQUMsRUFBRSxLQUFLLENBQUMsUUFBUSxJQUFJLFlBQVksTUFBTSxJQUFJLFlBQVksQ0FBQyxJQUNsRixDQUFDLElBQ0QsVUFBVSxPQUFPLFNBQVMsTUFBTSxDQUFDLE1BQU0sR0FBRyxDQUFDO0FBQUEsUUFDakQ7QUFBQSxNQUNGO0FBQUEsSUFDRjtBQUFBLElBQ0YsR0FBSSxjQUFjLFNBQVksQ0FBQyxJQUFJLFlBQVksWUFBWSxhQUFhLFNBQVM7QUFBQSxJQUNqRixHQUFHLFNBQVMsUUFBUSxDQUFDLFlBQVksWUFBWSxZQUFZLFdBQVcsT0FBTyxDQUFDO0FBQUEsRUFDOUU7QUFDRjtBQUdBLFNBQVMsWUFBWSxZQUF3QixNQUErQixPQUE0QjtBQUN0RyxNQUFJO0FBQ0YsVUFBTSxFQUFFLFNBQVMsS0FBSyxJQUFJLFdBQVcsS0FBSyxNQUFNLEtBQUs7QUFDckQsUUFBSSxTQUFTLGFBQWEsYUFBYSxJQUFJLFFBQVEsUUFBUSxFQUFFLEdBQUcsS0FBTSxRQUFPLENBQUM7QUFDOUUsVUFBTSxFQUFFLFVBQVUsR0FBRyxPQUFPLElBQUksR0FBRyxLQUFLLElBQUk7QUFDNUMsV0FBTyxVQUFVLE1BQU0sSUFBSTtBQUFBLEVBQzdCLFFBQVE7QUFFTixXQUFPLENBQUM7QUFBQSxFQUNWO0FBQ0Y7QUFHTyxTQUFTLGNBQWMsV0FBc0IsT0FBbUM7QUFDckYsUUFBTSxRQUFRLFVBQVUsTUFBTTtBQUM5QixRQUFNLFVBQVUsb0JBQUksSUFBdUI7QUFDM0MsYUFBVyxFQUFFLE1BQU0sS0FBSyxPQUFPO0FBQzdCLGVBQVcsRUFBRSxTQUFTLEtBQUssS0FBSyxPQUFPO0FBRXJDLFVBQUksS0FBTTtBQUNWLGlCQUFXLE9BQU8sU0FBUztBQUN6QixjQUFNLE9BQU8sSUFBSSxRQUFRLFNBQVksSUFBSSxPQUFPLEdBQUcsSUFBSSxJQUFJLElBQUksSUFBSSxHQUFHO0FBQ3RFLFlBQUksQ0FBQyxRQUFRLElBQUksSUFBSSxLQUFLLE1BQU0sT0FBTyxJQUFJLE1BQU0sSUFBSSxHQUFHLE1BQU0sT0FBVyxTQUFRLElBQUksTUFBTSxHQUFHO0FBQUEsTUFDaEc7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNBLFFBQU0sQ0FBQyxLQUFLLElBQUk7QUFDaEIsTUFBSSxDQUFDLE1BQU87QUFDWixRQUFNLFFBQVEsQ0FBQyxHQUFHLFFBQVEsS0FBSyxDQUFDO0FBQ2hDLFFBQU0sSUFBSSxRQUFRLGtCQUFrQjtBQUFBLElBQ2xDLE1BQU0sTUFBTSxXQUFXLElBQUksY0FBYyxNQUFNLENBQUMsQ0FBQyxnQkFBZ0IsZUFBZSxNQUFNLEtBQUssSUFBSSxDQUFDO0FBQUEsSUFDaEcsT0FBTyxNQUFNLENBQUMsRUFBRTtBQUFBLElBQ2hCLFFBQVEsR0FBRyxNQUFNLElBQUksQ0FBQyxTQUFTLHlCQUF5QixRQUFRLEtBQUssSUFBSSxJQUFJLElBQUksSUFBSSxNQUFNLElBQUksRUFBRSxFQUFFLEtBQUssSUFBSSxDQUFDO0FBQUEsSUFDN0csTUFBTSxFQUFFLE1BQU07QUFBQSxFQUNoQixDQUFDO0FBQ0g7OztBQzFFTyxJQUFNLFNBQW1DO0FBQUEsRUFDOUMsTUFBTTtBQUFBLEVBQ04sTUFBTSxDQUFDLFNBQWlDLFlBQVk7QUFBQSxFQUNwRCxNQUFNLEtBQUssRUFBRSxRQUFRLE1BQU0sS0FBSyxHQUFHLEVBQUUsTUFBTSxNQUFNLE1BQU0sR0FBRztBQUN4RCxVQUFNLEtBQUssQ0FBQyxRQUFnQixDQUFDLFVBQzNCLEtBQUssU0FBUyxDQUFDLEdBQUcsTUFBTSxVQUFVLEtBQUssR0FBRyxLQUFLLENBQUM7QUFDbEQsVUFBTSxPQUFPLFlBQVksS0FBSyxNQUFNLEdBQUcsTUFBTSxHQUFHLEtBQUs7QUFDckQsVUFBTSxTQUFTLEtBQUssVUFBVSxTQUFZLFNBQVksWUFBWSxLQUFLLE9BQU8sR0FBRyxPQUFPLEdBQUcsS0FBSztBQUNoRyxVQUFNLFNBQVMsS0FBSyxVQUFVLFNBQVksU0FBWSxZQUFZLEtBQUssT0FBTyxHQUFHLE9BQU8sR0FBRyxLQUFLO0FBQ2hHLFVBQU0sUUFBUSxRQUFRLFVBQVUsS0FBSyxFQUFFO0FBQ3ZDLFdBQU87QUFBQSxNQUNMLE1BQU07QUFBQSxNQUNOO0FBQUEsTUFDQSxTQUFTO0FBQUEsTUFDVCxVQUFVLENBQUM7QUFBQSxNQUNYLE9BQU8sQ0FBQyxLQUFLLEVBQUU7QUFBQSxNQUNmLFNBQVMsVUFBVSxNQUFNLE1BQU0sQ0FBQyxHQUFHLE1BQU0sUUFBUSxDQUFDO0FBQUEsTUFDbEQsTUFBTSxLQUFLLE1BQU07QUFDZixjQUFNLFVBQVUsVUFBVSxNQUFNLFFBQVEsUUFBUSxNQUFNLEtBQUs7QUFDM0QsY0FBTSxRQUFRLEtBQUssVUFBVSxTQUFTLElBQUksS0FBSyxFQUFFO0FBQ2pELGNBQU0sU0FBUyxVQUFVLFNBQVksTUFBTSxJQUFJLEtBQUssSUFBSSxTQUFTLElBQUksSUFBSSxRQUFRLEtBQUssSUFBSSxPQUFPLE9BQU87QUFDeEcsY0FBTSxFQUFFLE9BQU8sT0FBTyxJQUFJO0FBQzFCLGFBQUssTUFBTSxJQUFJLEtBQUssSUFBSSxFQUFFLE9BQU8sUUFBUSxRQUFRLGtCQUFrQixLQUFLLEdBQUcsQ0FBQztBQUM1RSxlQUFPLEVBQUUsTUFBTSxRQUFXLE1BQU0sQ0FBQyxLQUFLLEVBQUUsR0FBRyxVQUFVLENBQUMsR0FBRyxNQUFNLEVBQUUsUUFBUSxPQUFPLE1BQU0sRUFBRTtBQUFBLE1BQzFGO0FBQUEsTUFDQSxTQUFTLE1BQU07QUFBQSxJQUNqQjtBQUFBLEVBQ0Y7QUFDRjtBQUdBLFNBQVMsVUFDUCxNQUNBLFFBQ0EsUUFDQSxFQUFFLFdBQVcsTUFBTSxHQUNuQixPQUNtQjtBQUNuQixRQUFNLE9BQU8sVUFBVSxNQUFNLGVBQWUsV0FBVyxLQUFLLEdBQUcsS0FBSztBQUNwRSxNQUFJLENBQUMsUUFBUSxDQUFDLE1BQU0sUUFBUSxLQUFLLEtBQUssS0FBSyxLQUFLLE1BQU0sV0FBVyxHQUFHO0FBQ2xFLFVBQU0sSUFBSSxRQUFRLGNBQWM7QUFBQSxNQUM5QixNQUFNLEdBQUcsS0FBSztBQUFBLE1BQ2QsT0FBTyxNQUFNLFFBQVEsTUFBTSxLQUFLLElBQUksc0JBQXNCO0FBQUEsSUFDNUQsQ0FBQztBQUFBLEVBQ0g7QUFDQSxTQUFRLEtBQUssTUFBMkIsSUFBSSxDQUFDLFNBQVM7QUFDcEQsVUFBTSxRQUFRLG9CQUFJLElBQUksQ0FBQyxDQUFDLFFBQVEsRUFBRSxPQUFPLE1BQU0sUUFBUSxLQUFLLFFBQVEsUUFBUSxNQUFNLENBQUMsQ0FBQyxDQUFDO0FBQ3JGLFVBQU0sTUFBTSxlQUFlLFdBQVcsSUFBSSxNQUFNLE9BQU8sT0FBTyxLQUFLLENBQUM7QUFDcEUsVUFBTSxRQUFRLFNBQVMsVUFBVSxRQUFRLEtBQUssS0FBSyxJQUFJO0FBQ3ZELFVBQU0sT0FBTyxTQUFTLFVBQVUsUUFBUSxLQUFLLEtBQUssR0FBRyxRQUFRO0FBQzdELFdBQU87QUFBQSxNQUNMLE9BQU8sT0FBTyxRQUFRLElBQUk7QUFBQSxNQUMxQixPQUFPLE9BQU8sU0FBUztBQUFBLE1BQ3ZCLFNBQVMsT0FBTyxVQUFVLEtBQUssWUFBWTtBQUFBLElBQzdDO0FBQUEsRUFDRixDQUFDO0FBQ0g7QUFHQSxlQUFlLElBQUksTUFBYyxTQUE0QixFQUFFLFVBQVUsR0FBMEI7QUFDakcsTUFBSSxDQUFDLFVBQVUsUUFBUTtBQUNyQixVQUFNLElBQUksUUFBUSxpQkFBaUI7QUFBQSxNQUNqQyxNQUFNLDBCQUEwQixJQUFJO0FBQUEsTUFDcEMsUUFBUSxTQUFTLElBQUksK0JBQStCLEtBQUssT0FBTyxDQUFDO0FBQUEsTUFDakUsTUFBTSxFQUFFLE9BQU8sS0FBSztBQUFBLElBQ3RCLENBQUM7QUFBQSxFQUNIO0FBQ0EsU0FBTyxRQUNMLE1BQU0sVUFBVTtBQUFBLElBQ2Q7QUFBQSxJQUNBLFFBQVEsSUFBSSxDQUFDLEVBQUUsTUFBTSxNQUFNLEtBQUs7QUFBQSxFQUNsQyxDQUNGO0FBQ0Y7QUFHQSxTQUFTLFFBQVEsTUFBYyxPQUFlLFNBQW9DO0FBQ2hGLFFBQU0sU0FBUyxNQUFNLEtBQUssRUFBRSxZQUFZO0FBQ3hDLFFBQU0sUUFBUSxRQUFRLE9BQU8sQ0FBQyxFQUFFLE9BQU8sTUFBTSxNQUFNLE9BQU8sS0FBSyxNQUFNLFNBQVMsVUFBVSxLQUFLO0FBQzdGLFFBQU0sUUFDSixNQUFNLFNBQVMsSUFBSSxRQUFRLFFBQVEsT0FBTyxDQUFDLEVBQUUsTUFBTSxNQUFNLFdBQVcsTUFBTSxNQUFNLFlBQVksRUFBRSxTQUFTLE1BQU0sQ0FBQztBQUNoSCxRQUFNLENBQUMsS0FBSyxJQUFJO0FBQ2hCLE1BQUksU0FBUyxNQUFNLFdBQVcsRUFBRyxRQUFPO0FBQ3hDLE1BQUksT0FBTztBQUNULFVBQU0sSUFBSSxRQUFRLGtCQUFrQjtBQUFBLE1BQ2xDLE1BQU0sU0FBUyxJQUFJLElBQUksS0FBSyxTQUFTLE1BQU0sTUFBTSxhQUFhLEtBQUssS0FBSyxDQUFDO0FBQUEsTUFDekUsUUFBUTtBQUFBLE1BQ1IsTUFBTSxFQUFFLE9BQU8sTUFBTSxTQUFTLE1BQU0sSUFBSSxDQUFDLEVBQUUsTUFBTSxNQUFNLEtBQUssRUFBRTtBQUFBLElBQ2hFLENBQUM7QUFBQSxFQUNIO0FBQ0EsUUFBTSxJQUFJLFFBQVEsZUFBZTtBQUFBLElBQy9CLE1BQU0sU0FBUyxJQUFJLElBQUksS0FBSyxpQkFBaUIsUUFBUSxNQUFNO0FBQUEsSUFDM0QsUUFDRTtBQUFBLE1BQ0U7QUFBQSxNQUNBLFFBQVEsSUFBSSxDQUFDLEVBQUUsTUFBTSxNQUFNLEtBQUs7QUFBQSxJQUNsQyxLQUFLLGNBQWMsS0FBSyxPQUFPLENBQUM7QUFBQSxJQUNsQyxNQUFNLEVBQUUsT0FBTyxLQUFLO0FBQUEsRUFDdEIsQ0FBQztBQUNIO0FBRUEsU0FBUyxLQUFLLFNBQW9DO0FBQ2hELFFBQU0sU0FBUyxRQUFRLE1BQU0sR0FBRyxDQUFDLEVBQUUsSUFBSSxDQUFDLEVBQUUsTUFBTSxNQUFNLEtBQUs7QUFDM0QsU0FBTyxHQUFHLE9BQU8sS0FBSyxJQUFJLENBQUMsR0FBRyxRQUFRLFNBQVMsT0FBTyxTQUFTLFNBQVMsUUFBUSxTQUFTLE9BQU8sTUFBTSxVQUFVLEVBQUU7QUFDcEg7OztBQ3BITyxTQUFTLGlCQUFpQixFQUFFLEtBQUssR0FBb0IsS0FBeUIsRUFBRSxNQUFNLEtBQUssR0FBbUI7QUFDbkgsTUFBSSxDQUFDLEtBQUssUUFBUztBQUNuQixRQUFNLElBQUksUUFBUSxjQUFjO0FBQUEsSUFDOUIsTUFBTSxHQUFHLEdBQUcsVUFBVSxLQUFLLElBQUksd0JBQXdCLEtBQUssTUFBTTtBQUFBLElBQ2xFLE9BQU8sS0FBSyxTQUFTLENBQUMsR0FBRyxNQUFNLEdBQUcsQ0FBQztBQUFBLElBQ25DLFFBQ0U7QUFBQSxFQUNKLENBQUM7QUFDSDs7O0FDYU8sSUFBTSxVQUFxQztBQUFBLEVBQ2hELE1BQU07QUFBQSxFQUNOLE1BQU0sQ0FBQyxTQUFrQyxhQUFhO0FBQUEsRUFDdEQsTUFBTSxLQUFLLE1BQU0sTUFBTTtBQUNyQixVQUFNLEVBQUUsTUFBTSxNQUFNLE9BQU8sVUFBVSxJQUFJO0FBQ3pDLFVBQU0sUUFBZ0IsQ0FBQztBQUN2QixlQUFXLENBQUMsT0FBTyxJQUFJLEtBQUssS0FBSyxRQUFRLFFBQVEsRUFBRyxPQUFNLEtBQUssTUFBTSxTQUFTLE1BQU0sT0FBTyxJQUFJLENBQUM7QUFDaEcsVUFBTSxDQUFDLEtBQUssS0FBSyxJQUFJO0FBQ3JCLFVBQU0sUUFBUSxLQUFLLFFBQVEsV0FBVyxJQUFJLEtBQUssU0FBUyxNQUFNLEtBQUs7QUFDbkUsVUFBTSxFQUFFLFVBQVUsTUFBTSxXQUFXLFFBQVEsSUFBSTtBQUMvQyxVQUFNLFFBQVEsS0FBSyxZQUFZLE1BQU0sU0FBWSxTQUFZLFdBQVcsS0FBSyxZQUFZLENBQUM7QUFFMUYsYUFBUyxXQUFXLFVBQXdCO0FBQzFDLFVBQUk7QUFDRixlQUFPLGdCQUFnQixVQUFVLEVBQUUsU0FBUyxFQUFFLFFBQVEsTUFBTSxHQUFHLE9BQU8sVUFBVSxVQUFVLFNBQVMsQ0FBQztBQUFBLE1BQ3RHLFNBQVMsT0FBTztBQUNkLGNBQU0sVUFBVSxLQUFLLEVBQUUsR0FBRyxLQUFLLFNBQVMsQ0FBQyxHQUFHLE1BQU0sWUFBWSxDQUFDLENBQUM7QUFBQSxNQUNsRTtBQUFBLElBQ0Y7QUFFQSxXQUFPO0FBQUEsTUFDTCxNQUFNO0FBQUEsTUFDTjtBQUFBLE1BQ0EsU0FBUztBQUFBLE1BQ1QsVUFBVSxNQUFNLFFBQVEsQ0FBQyxFQUFFLFFBQVEsTUFBTSxXQUFXLENBQUMsQ0FBQztBQUFBLE1BQ3RELFNBQVMsVUFBVSxLQUFLLFNBQVMsTUFBTSxDQUFDLEdBQUcsTUFBTSxTQUFTLENBQUM7QUFBQSxNQUMzRCxNQUFNLEtBQUssTUFBTTtBQUVmLGNBQU0sT0FBTyxNQUFNLElBQUksT0FBTyxJQUFJO0FBQ2xDLGNBQU0sUUFBUSxNQUFNLE1BQU0sT0FBTyxJQUFJO0FBRXJDLFlBQUksQ0FBQyxRQUFRLENBQUMsU0FBUyxLQUFLLFVBQVUsT0FBUSxRQUFPLEVBQUUsTUFBTSxRQUFXLE1BQU0sQ0FBQyxHQUFHLFVBQVUsQ0FBQyxFQUFFO0FBQy9GLGNBQU0sUUFBUSxrQkFBa0IsTUFBTSxPQUFPLEVBQUUsVUFBVSxNQUFNLFVBQVUsQ0FBQztBQUMxRSxjQUFNLEVBQUUsT0FBTyxRQUFRLElBQUksVUFBVSxXQUFXLE9BQU8sT0FBTyxJQUFJLEVBQUUsT0FBTyxPQUFPLFNBQVMsQ0FBQyxFQUFFO0FBQzlGLGNBQU0sV0FBVztBQUFBLFVBQ2YsR0FBRyxRQUFRLElBQUksQ0FBQyxVQUFVLElBQUksUUFBUSxlQUFlLEVBQUUsTUFBTSxHQUFHLEtBQUssb0NBQW9DLENBQUMsQ0FBQztBQUFBLFVBQzNHLEdBQUksTUFBTSxTQUFTLElBQUksQ0FBQyxPQUFPLE9BQU8sSUFBSSxDQUFDLElBQUksQ0FBQztBQUFBLFVBQ2hELEdBQUcsS0FBSyxPQUFPLE1BQU0sS0FBSztBQUFBLFFBQzVCO0FBQ0EsZUFBTyxFQUFFLE1BQU0sUUFBVyxNQUFNLENBQUMsR0FBRyxVQUFVLE1BQU0sRUFBRSxhQUFhLE1BQU0sRUFBRTtBQUFBLE1BQzdFO0FBQUEsTUFDQSxTQUFTLE1BQU07QUFBQSxJQUNqQjtBQUFBLEVBQ0Y7QUFDRjtBQUVBLGVBQWUsU0FBUyxNQUFnQixPQUFlLE1BQStCO0FBQ3BGLFFBQU0sT0FBTyxDQUFDLEdBQUcsS0FBSyxNQUFNLFdBQVcsS0FBSztBQUM1QyxNQUFJLFVBQVUsTUFBTTtBQUNsQixVQUFNLFdBQVcsTUFBTSxLQUFLLFFBQVEsS0FBSyxNQUFNLFNBQVM7QUFDeEQscUJBQWlCLFVBQVUsV0FBVyxJQUFJO0FBQzFDLFVBQU0sUUFBUSxVQUFVLEtBQUssTUFBTSxNQUFNLENBQUMsR0FBRyxNQUFNLE1BQU0sQ0FBQztBQUMxRCxVQUFNLEVBQUUsUUFBUSxJQUFJO0FBQ3BCLFVBQU0sV0FBVyxZQUFZLFNBQVksU0FBWSxZQUFZLFNBQVMsQ0FBQyxJQUFJLENBQUMsT0FBTyxFQUFFLEtBQUs7QUFDOUYsVUFBTSxFQUFFLEtBQUssSUFBSSxTQUFTO0FBQzFCLFdBQU87QUFBQSxNQUNMLE9BQU87QUFBQSxNQUNQLFNBQVM7QUFBQSxNQUNULE1BQU0sT0FBTyxFQUFFLFdBQVcsT0FBTyxRQUFRLElBQUksR0FBRztBQUM5QyxjQUFNLFFBQVEsTUFBTSxPQUFPLFdBQVcsT0FBTyxJQUFJO0FBQ2pELGNBQU0sU0FBUyxlQUFlLFdBQVcsS0FBSyxFQUFFO0FBQ2hELGNBQU0sT0FBTyxNQUFNLFlBQVksV0FBVyxVQUFVLEVBQUUsT0FBTyxRQUFRLFVBQVUsUUFBUSxNQUFNLE1BQU0sSUFBSSxDQUFDO0FBQ3hHLGVBQU8sVUFBVSxTQUFTLFNBQVksU0FBUyxJQUFJO0FBQUEsTUFDckQ7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNBLE1BQUksVUFBVSxNQUFNO0FBQ2xCLFVBQU0sRUFBRSxLQUFLLElBQUk7QUFDakIsV0FBTztBQUFBLE1BQ0wsT0FBTyxRQUFRLElBQUk7QUFBQSxNQUNuQixTQUFTO0FBQUEsTUFDVCxRQUFRLENBQUMsRUFBRSxVQUFVLE1BQU0sU0FBUyxVQUFVLFdBQVcsT0FBTyxJQUFJO0FBQUEsSUFDdEU7QUFBQSxFQUNGO0FBQ0EsTUFBSSxVQUFVLE1BQU07QUFDbEIsVUFBTSxFQUFFLEtBQUssSUFBSTtBQUNqQixXQUFPO0FBQUEsTUFDTCxPQUFPO0FBQUEsTUFDUCxTQUFTO0FBQUEsTUFDVCxRQUFRLE9BQU8sRUFBRSxVQUFVLE1BQU0sU0FBUyxVQUFVLFdBQVcsTUFBTSxJQUFJO0FBQUEsSUFDM0U7QUFBQSxFQUNGO0FBQ0EsUUFBTSxPQUFPLFlBQVksS0FBSyxPQUFPLENBQUMsVUFBVSxLQUFLLEtBQUssU0FBUyxDQUFDLEdBQUcsTUFBTSxTQUFTLEdBQUcsS0FBSyxDQUFDLEdBQUcsS0FBSyxLQUFLO0FBQzVHLFFBQU0sUUFBUSxPQUFPLEtBQUssVUFBVSxXQUFXLEtBQUssTUFBTSxRQUFRLGdCQUFnQixJQUFJLElBQUk7QUFDMUYsU0FBTztBQUFBLElBQ0w7QUFBQSxJQUNBLFNBQVM7QUFBQSxJQUNULE1BQU0sT0FBTyxFQUFFLFdBQVcsTUFBTSxHQUFHO0FBQ2pDLFlBQU0sUUFBUSxVQUFVLE1BQU0sZUFBZSxXQUFXLEtBQUssR0FBRyxLQUFLLEdBQUcsU0FBUztBQUNqRixZQUFNLE9BQU8sT0FBTyxVQUFVLFdBQVcsUUFBUTtBQUNqRCxhQUFPLEVBQUUsUUFBUSxRQUFXLFNBQVMsQ0FBQyxHQUFHLE1BQU0sR0FBSSxPQUFPLFVBQVUsWUFBWSxFQUFFLE1BQU0sRUFBRztBQUFBLElBQzdGO0FBQUEsRUFDRjtBQUNGO0FBR0EsU0FBUyxXQUNQLE9BQ0EsU0FDZ0Y7QUFDaEYsUUFBTSxXQUFXLFFBQVEsSUFBSSxDQUFDLFdBQVcsRUFBRSxPQUFPLFFBQVEsU0FBUyxLQUFLLEVBQUUsRUFBRTtBQUM1RSxTQUFPO0FBQUEsSUFDTCxPQUFPLE1BQU0sT0FBTyxDQUFDLEVBQUUsR0FBRyxNQUFNLENBQUMsU0FBUyxLQUFLLENBQUMsRUFBRSxPQUFPLE1BQU0sT0FBTyxFQUFFLENBQUMsQ0FBQztBQUFBLElBQzFFLFNBQVMsU0FBUyxPQUFPLENBQUMsRUFBRSxPQUFPLE1BQU0sQ0FBQyxNQUFNLEtBQUssQ0FBQyxFQUFFLEdBQUcsTUFBTSxPQUFPLEVBQUUsQ0FBQyxDQUFDLEVBQUUsSUFBSSxDQUFDLEVBQUUsTUFBTSxNQUFNLEtBQUs7QUFBQSxFQUN4RztBQUNGO0FBRUEsU0FBUyxPQUFPLE9BQThCLEVBQUUsVUFBVSxHQUFrQjtBQUMxRSxRQUFNLENBQUMsS0FBSyxJQUFJO0FBQ2hCLFFBQU0sRUFBRSxLQUFLLElBQUksVUFBVTtBQUMzQixRQUFNLEtBQUssU0FBUyxHQUFHLE1BQU0sRUFBRSxLQUFLLEtBQUssVUFBVSxNQUFNLElBQUksQ0FBQyxDQUFDLFNBQVMsS0FBSyxVQUFVLE1BQU0sS0FBSyxDQUFDLENBQUM7QUFDcEcsU0FBTyxJQUFJLFFBQVEsZUFBZTtBQUFBLElBQ2hDLE1BQU0sR0FBRyxNQUFNLE1BQU0sSUFBSSxNQUFNLFdBQVcsSUFBSSxlQUFlLGFBQWE7QUFBQSxJQUMxRSxPQUFPO0FBQUEsRUFDVCxDQUFDO0FBQ0g7QUFFQSxTQUFTLEtBQUssT0FBMEIsTUFBc0IsT0FBa0M7QUFDOUYsTUFBSSxDQUFDLFNBQVMsS0FBSyxTQUFTLFVBQWEsTUFBTSxTQUFTLE9BQVcsUUFBTyxDQUFDO0FBQzNFLFFBQU0sUUFBUSxLQUFLLE1BQU8sTUFBTSxPQUFPLEtBQUssSUFBSSxLQUFLLE1BQU0sSUFBSyxJQUFLLEdBQUcsSUFBSTtBQUM1RSxNQUFJLE1BQU0sS0FBSyxPQUFPLENBQUMsQ0FBQyxNQUFNLE9BQVcsUUFBTyxDQUFDO0FBQ2pELFNBQU87QUFBQSxJQUNMLElBQUksUUFBUSxlQUFlO0FBQUEsTUFDekIsTUFBTSwwQkFBMEIsS0FBSyx5Q0FBeUMsTUFBTSxTQUFTLENBQUM7QUFBQSxNQUM5RixPQUFPLEdBQUcsYUFBYSxLQUFLLElBQUksQ0FBQyxTQUFTLGFBQWEsTUFBTSxJQUFJLENBQUM7QUFBQSxJQUNwRSxDQUFDO0FBQUEsRUFDSDtBQUNGOzs7QUN2SkEsSUFBTSxRQUFzQztBQUFBLEVBQzFDO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFDRjtBQUVPLFNBQVMsT0FBTyxLQUEwQixPQUF5QjtBQUN4RSxTQUFPLE9BQU8sTUFBTSxRQUFRLElBQUksTUFBTSxLQUFLLE1BQU0sUUFBUSxNQUFNLE1BQU0sSUFBSSxNQUFNO0FBQ2pGOzs7QUNWQSxlQUFzQixXQUNwQixPQUNBLFFBQ0EsTUFDQSxRQUM4QjtBQUM5QixNQUFJO0FBQ0osaUJBQWUsU0FBd0I7QUFDckMsV0FBTyxDQUFDLE9BQU8sV0FBVyxDQUFDLE9BQU87QUFDaEMsWUFBTSxPQUFPLE1BQU0sTUFBTSxLQUFLO0FBQzlCLFVBQUksS0FBSyxLQUFNO0FBQ2YsWUFBTSxLQUFLLEtBQUssS0FBSztBQUFBLElBQ3ZCO0FBQUEsRUFDRjtBQUNBLFFBQU0sVUFBVSxNQUNkLE9BQU8sRUFBRSxNQUFNLENBQUMsVUFBbUI7QUFDakMsY0FBVSxVQUFVLEtBQUs7QUFBQSxFQUMzQixDQUFDO0FBQ0gsUUFBTSxRQUFRLElBQUksTUFBTSxLQUFLLEVBQUUsUUFBUSxPQUFPLEdBQUcsT0FBTyxDQUFDO0FBQ3pELFFBQU0sTUFBTSxTQUFTO0FBQ3JCLFNBQU87QUFDVDs7O0FDS0EsSUFBTSxjQUFjO0FBR2IsU0FBUyxVQUNkLE1BQ0EsTUFDQSxNQUNBLE9BQ1c7QUFDWCxRQUFNLFFBQVEsb0JBQUksSUFBa0I7QUFDcEMsUUFBTSxTQUFTLG9CQUFJLElBQW1CO0FBQ3RDLGFBQVcsQ0FBQyxNQUFNLElBQUksS0FBSyxPQUFPLFFBQVEsS0FBSyxPQUFPLEdBQUc7QUFDdkQsVUFBTSxRQUFRLEtBQUssU0FBUyxDQUFDLEdBQUcsTUFBTSxXQUFXLElBQUksQ0FBQztBQUN0RCxRQUFJO0FBQ0YsVUFBSSxLQUFLLFNBQVMsSUFBSTtBQUNwQixjQUFNO0FBQUEsVUFDSjtBQUFBLFVBQ0EsWUFBWSxNQUFNLE1BQU0sT0FBTyxLQUFLO0FBQUEsUUFDdEM7QUFBQSxVQUNHLFFBQU8sSUFBSSxNQUFNLFVBQVUsTUFBTSxLQUFLLENBQUM7QUFBQSxJQUM5QyxTQUFTLE9BQU87QUFDZCxZQUFNLFVBQVUsS0FBSyxFQUFFLEdBQUcsS0FBSztBQUFBLElBQ2pDO0FBQUEsRUFDRjtBQUNBLE1BQUk7QUFDRixRQUFJLEtBQUssT0FBTyxPQUFXLGlCQUFnQixLQUFLLEVBQUU7QUFBQSxFQUNwRCxTQUFTLE9BQU87QUFDZCxVQUFNLFVBQVUsS0FBSyxFQUFFLEdBQUcsS0FBSyxTQUFTLENBQUMsR0FBRyxNQUFNLElBQUksQ0FBQyxDQUFDO0FBQUEsRUFDMUQ7QUFDQSxTQUFPO0FBQUEsSUFDTCxTQUFTLE9BQU8sS0FBSyxLQUFLLE9BQU87QUFBQSxJQUNqQztBQUFBLElBQ0E7QUFBQSxJQUNBLElBQUksS0FBSztBQUFBLElBQ1QsSUFBSSxLQUFLO0FBQUEsSUFDVCxNQUFNLEtBQUssU0FBUyxLQUFLLE9BQU8sVUFBYSxLQUFLLE9BQU87QUFBQSxFQUMzRDtBQUNGO0FBR08sU0FBUyxZQUFZLEVBQUUsT0FBTyxHQUFjLFVBQThCO0FBQy9FLFFBQU0sUUFBK0IsQ0FBQztBQUN0QyxhQUFXLENBQUMsTUFBTSxLQUFLLEtBQUssUUFBUTtBQUNsQyxRQUFJO0FBQ0YsWUFBTSxJQUFJLElBQUksTUFBTSxLQUFLLFFBQVEsS0FBSztBQUFBLElBQ3hDLFFBQVE7QUFFTixZQUFNLElBQUksSUFBSTtBQUFBLElBQ2hCO0FBQUEsRUFDRjtBQUNBLFNBQU87QUFDVDtBQUdPLFNBQVMsT0FDZCxNQUNBLE1BQ0EsU0FDcUU7QUFDckUsTUFBSTtBQUNGLFdBQU8sRUFBRSxPQUFPLFFBQVEsTUFBTSxNQUFNLE9BQU8sR0FBRyxRQUFRO0FBQUEsRUFDeEQsU0FBUyxPQUFPO0FBQ2QsVUFBTUUsV0FBVSxVQUFVLEtBQUs7QUFDL0IsV0FBTyxFQUFFLE9BQU8sUUFBUSxNQUFNLE1BQU1BLFFBQU8sR0FBRyxTQUFTQSxTQUFRO0FBQUEsRUFDakU7QUFDRjtBQUdBLFNBQVMsUUFBUSxFQUFFLFNBQVMsTUFBTSxHQUFjLE1BQVksUUFBdUM7QUFDakcsUUFBTSxRQUErQixDQUFDO0FBQ3RDLFFBQU0sYUFBYSxlQUFlLEtBQUssV0FBVyxLQUFLLEtBQUs7QUFDNUQsYUFBVyxRQUFRLFNBQVM7QUFDMUIsVUFBTSxPQUFPLE1BQU0sSUFBSSxJQUFJO0FBQzNCLFVBQU0sSUFBSSxJQUFJLEtBQUssS0FBSyxNQUFNLElBQUksS0FBSztBQUN2QyxRQUFJO0FBQ0YsWUFBTSxRQUFRLE1BQU0sU0FBUyxVQUFVO0FBQ3ZDLFVBQUksVUFBVSxVQUFhLFVBQVUsUUFBUyxPQUFNLElBQUksSUFBSTtBQUFBLElBQzlELFNBQVMsT0FBTztBQUNkLFVBQUksQ0FBQyxPQUFRLE9BQU07QUFBQSxJQUNyQjtBQUFBLEVBQ0Y7QUFDQSxNQUFJLE9BQVEsT0FBTSxXQUFXLElBQUksS0FBSyxVQUFVLFNBQVMsS0FBSyxPQUFPLElBQUk7QUFFekUsU0FBTyxLQUFLLFVBQVUsU0FBUyxPQUFPLEtBQUs7QUFDN0M7QUFhQSxJQUFNLGFBQWE7QUFHbkIsZUFBc0IsVUFBVSxNQUFpQixNQUE4QjtBQUM3RSxRQUFNLFFBQVEsQ0FBQyxHQUFHLEtBQUssU0FBUyxXQUFXO0FBQzNDLFFBQU0sU0FBUyxLQUFLLE9BQU8sU0FBWSxTQUFZLE1BQU0sWUFBWSxZQUFZLE1BQU0sS0FBSyxFQUFFLEdBQUcsS0FBSztBQUN0RyxRQUFNLFFBQVEsb0JBQUksSUFBc0I7QUFDeEMsUUFBTSxRQUFvQixDQUFDO0FBQzNCLE1BQUksT0FBTztBQUNYLFNBQU87QUFBQSxJQUNMLE1BQU0sSUFBSSxRQUFRLE9BQU87QUFDdkIsWUFBTSxJQUFJLFFBQVEsS0FBSztBQUN2QixlQUFTLE9BQU8sTUFBTSxJQUFJLElBQUksR0FBRyxNQUFNLE9BQU8sTUFBTSxJQUFJLElBQUksR0FBRztBQUM3RCxjQUFNLE9BQU8sSUFBSTtBQUNqQixnQkFBUTtBQUNSLFlBQUksS0FBSyxPQUFPLFVBQWEsTUFBTSxTQUFTLFdBQVksT0FBTSxLQUFLLElBQUk7QUFDdkUsY0FBTSxRQUFRLElBQUksSUFBSTtBQUFBLE1BQ3hCO0FBQUEsSUFDRjtBQUFBLElBQ0EsTUFBTSxTQUFTO0FBRWIsaUJBQVcsQ0FBQyxFQUFFLElBQUksS0FBSyxDQUFDLEdBQUcsS0FBSyxFQUFFLEtBQUssQ0FBQyxDQUFDLENBQUMsR0FBRyxDQUFDLENBQUMsTUFBTSxJQUFJLENBQUMsR0FBRztBQUMzRCxnQkFBUTtBQUNSLFlBQUksS0FBSyxPQUFPLFVBQWEsTUFBTSxTQUFTLFdBQVksT0FBTSxLQUFLLElBQUk7QUFDdkUsY0FBTSxRQUFRLElBQUksSUFBSTtBQUFBLE1BQ3hCO0FBQ0EsWUFBTSxRQUFRLE9BQU87QUFDckIsYUFBTyxFQUFFLE9BQU8sT0FBTyxHQUFHLE1BQU07QUFBQSxJQUNsQztBQUFBLElBQ0EsU0FBUyxZQUFZLFFBQVEsUUFBUTtBQUFBLEVBQ3ZDO0FBQ0Y7QUFHQSxlQUFzQixZQUNwQixNQUNBLE9BQ0EsT0FDQSxLQUNxQjtBQUNyQixRQUFNLEVBQUUsT0FBTyxNQUFNLElBQUksTUFBTSxNQUFNLE9BQU87QUFDNUMsUUFBTSxFQUFFLFNBQVMsSUFBSSxLQUFLLElBQUk7QUFDOUIsU0FBTyxFQUFFLE9BQU8sU0FBUyxPQUFPLEtBQUssU0FBUyxPQUFPLE9BQU8sSUFBSSxLQUFLO0FBQ3ZFOzs7QUMvSUEsZUFBc0IsWUFBWSxPQUFvQixPQUFlLE1BQXNDO0FBQ3pHLFFBQU0sT0FBTyxDQUFDLEdBQUcsS0FBSyxNQUFNLFVBQVU7QUFDdEMsUUFBTSxRQUFRLEtBQUssS0FBSyxTQUFTLElBQUk7QUFDckMsTUFBSSxPQUFPLFVBQVUsWUFBWSxNQUFNLFFBQVEsS0FBSyxHQUFHO0FBQ3JELFVBQU0sT0FBTyxZQUFZLE9BQWdCLENBQUMsVUFBVSxLQUFLLEtBQUssU0FBUyxDQUFDLEdBQUcsTUFBTSxHQUFHLEtBQUssQ0FBQyxHQUFHLEtBQUssS0FBSztBQUN2RyxXQUFPO0FBQUEsTUFDTCxTQUFTO0FBQUEsTUFDVCxPQUFPLEtBQUssRUFBRSxXQUFXLE1BQU0sR0FBRztBQUNoQyxjQUFNLFFBQVEsVUFBVSxNQUFNLGVBQWUsV0FBVyxLQUFLLEdBQUcsUUFBUSxLQUFLLEVBQUU7QUFDL0UsbUJBQVcsU0FBUyxPQUFPLE9BQU8sT0FBTyxLQUFLLEVBQUcsT0FBTSxFQUFFLE9BQU8sUUFBUSxPQUFPLFdBQVcsS0FBSztBQUFBLE1BQ2pHO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFDQSxNQUFJLFdBQVcsT0FBTztBQUNwQixVQUFNLENBQUMsTUFBTSxFQUFFLElBQUksTUFBTTtBQUN6QixXQUFPO0FBQUEsTUFDTCxTQUFTO0FBQUEsTUFDVCxPQUFPLE9BQU87QUFDWixjQUFNLE9BQU8sUUFBUSxLQUFLLElBQUk7QUFDOUIsaUJBQVMsUUFBUSxNQUFNLE9BQU8sSUFBSSxTQUFTLEtBQUssU0FBUyxJQUFJLFNBQVMsS0FBTSxPQUFNLEVBQUUsT0FBTyxRQUFRLE1BQU07QUFBQSxNQUMzRztBQUFBLElBQ0Y7QUFBQSxFQUNGO0FBQ0EsTUFBSSxVQUFVLE9BQU87QUFDbkIsY0FBVSxLQUFLLFdBQVcsTUFBTSxNQUFNLE1BQU0sS0FBSyxPQUFPLEtBQUssS0FBSyxTQUFTLENBQUMsR0FBRyxNQUFNLE1BQU0sQ0FBQyxDQUFDO0FBQzdGLFdBQU87QUFBQSxNQUNMLFNBQVM7QUFBQSxNQUNULE9BQU8sS0FBSyxFQUFFLFVBQVUsR0FBRztBQUN6Qix5QkFBaUIsU0FBUyxTQUFTLFVBQVUsV0FBVyxNQUFNLE1BQU0sSUFBSSxFQUFHLE9BQU0sRUFBRSxPQUFPLFFBQVEsTUFBTTtBQUFBLE1BQzFHO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFDQSxRQUFNLFdBQVcsTUFBTSxLQUFLLFFBQVEsTUFBTSxPQUFPLFVBQVU7QUFDM0QsTUFBSSxDQUFDLFNBQVMsT0FBTztBQUNuQixVQUFNLElBQUksUUFBUSxjQUFjO0FBQUEsTUFDOUIsTUFBTSxlQUFlLFNBQVMsS0FBSyxJQUFJO0FBQUEsTUFDdkM7QUFBQSxNQUNBLFFBQVE7QUFBQSxJQUNWLENBQUM7QUFBQSxFQUNIO0FBQ0EsUUFBTSxRQUFRLFVBQVUsTUFBTSxNQUFNLE1BQU0sQ0FBQyxHQUFHLE1BQU0sTUFBTSxDQUFDO0FBQzNELFNBQU87QUFBQSxJQUNMLFNBQVM7QUFBQSxJQUNULE9BQU8sS0FBSyxNQUFNLE1BQU07QUFDdEIsWUFBTSxFQUFFLFdBQVcsT0FBTyxRQUFRLElBQUksSUFBSTtBQUMxQyxZQUFNLFVBQVU7QUFBQSxRQUNkLE9BQU8sTUFBTSxPQUFPLFdBQVcsT0FBTyxLQUFLO0FBQUEsUUFDM0MsUUFBUSxlQUFlLFdBQVcsS0FBSyxFQUFFO0FBQUEsUUFDekM7QUFBQSxRQUNBLE1BQU07QUFBQSxRQUNOO0FBQUEsTUFDRjtBQUNBLHVCQUFpQixFQUFFLE1BQU0sT0FBTyxNQUFNLEtBQUssUUFBUSxXQUFXLFVBQVUsT0FBTyxHQUFHO0FBQ2hGLGFBQUssT0FBTztBQUNaLGFBQUssUUFBUTtBQUNiLFlBQUksS0FBSyxTQUFTLFNBQVMsR0FBRztBQUM1QixnQkFBTSxNQUFNLEtBQUssU0FBUyxPQUFPLE1BQU07QUFDdkMsZ0JBQU0sSUFBSSxRQUFRLElBQUksTUFBTTtBQUFBLFlBQzFCLE1BQU0sR0FBRyxJQUFJLElBQUksY0FBYyxNQUFNLEtBQUssR0FBRyxNQUFNLFVBQVUsU0FBWSxLQUFLLE9BQU8sTUFBTSxLQUFLLEVBQUU7QUFBQSxZQUNsRyxPQUFPLElBQUk7QUFBQSxZQUNYLFFBQVEsSUFBSTtBQUFBLFVBQ2QsQ0FBQztBQUFBLFFBQ0g7QUFDQSxtQkFBVyxTQUFTLE1BQU8sT0FBTSxFQUFFLE9BQU8sUUFBUSxNQUFNO0FBQUEsTUFDMUQ7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNGO0FBR0EsU0FBUyxPQUFPLE9BQTBCLE9BQWlDO0FBQ3pFLE1BQUksTUFBTSxRQUFRLEtBQUssRUFBRyxRQUFPO0FBQ2pDLE1BQUksV0FBVyxLQUFLLEVBQUcsUUFBTyxPQUFPLFFBQVEsS0FBSyxFQUFFLElBQUksQ0FBQyxDQUFDLEtBQUssS0FBSyxPQUFPLEVBQUUsS0FBSyxPQUFPLE1BQWUsRUFBRTtBQUMxRyxRQUFNLElBQUksUUFBUSxjQUFjO0FBQUEsSUFDOUIsTUFBTSxHQUFHLEtBQUs7QUFBQSxJQUNkLE9BQU8sVUFBVSxTQUFZLHlCQUF5QjtBQUFBLElBQ3RELFFBQVE7QUFBQSxFQUNWLENBQUM7QUFDSDs7O0FDbEZPLElBQU0sVUFBcUM7QUFBQSxFQUNoRCxNQUFNO0FBQUEsRUFDTixNQUFNLENBQUMsU0FBa0MsY0FBYztBQUFBLEVBQ3ZELE1BQU0sS0FBSyxNQUFNLE1BQU07QUFDckIsVUFBTSxFQUFFLE1BQU0sTUFBTSxNQUFNLElBQUk7QUFDOUIsVUFBTSxPQUFPLEtBQUssTUFBTTtBQUN4QixVQUFNLFFBQVEsS0FBSyxRQUFRLFlBQVksSUFBSTtBQUMzQyxVQUFNLFVBQVUsTUFBTSxZQUFZLEtBQUssVUFBVSxHQUFHLE9BQU8sSUFBSTtBQUMvRCxVQUFNLFFBQVEsTUFBTSxLQUFLLE1BQU0sS0FBSyxPQUFPLENBQUMsR0FBRyxNQUFNLE9BQU8sQ0FBQztBQUM3RCxVQUFNLFFBQVEsS0FBSyxTQUFTLFVBQVUsS0FBSyxPQUFPLE1BQU0sQ0FBQyxHQUFHLE1BQU0sT0FBTyxHQUFHLEtBQUs7QUFDakYsVUFBTSxXQUFXLEtBQUssU0FBUyxNQUFNLFNBQVksU0FBWSxRQUFRLEtBQUssU0FBUyxDQUFDO0FBQ3BGLFVBQU0sU0FBUyxLQUFLLFNBQVMsS0FBSztBQUVsQyxhQUFTLFFBQVEsTUFBNEM7QUFDM0QsVUFBSTtBQUNGLGVBQU8sVUFBVSxNQUFNLEtBQUs7QUFBQSxNQUM5QixTQUFTLE9BQU87QUFDZCxjQUFNLFVBQVUsS0FBSyxFQUFFLEdBQUcsS0FBSyxTQUFTLENBQUMsR0FBRyxNQUFNLFNBQVMsQ0FBQyxDQUFDO0FBQUEsTUFDL0Q7QUFBQSxJQUNGO0FBRUEsV0FBTztBQUFBLE1BQ0wsTUFBTTtBQUFBLE1BQ047QUFBQSxNQUNBLFNBQVMsTUFBTSxPQUFPLENBQUMsS0FBSyxFQUFFLFFBQVEsTUFBTSxNQUFNLFNBQVMsQ0FBQztBQUFBLE1BQzVELFVBQVUsQ0FBQyxHQUFJLFFBQVEsVUFBVSxDQUFDLFFBQVEsT0FBTyxJQUFJLENBQUMsR0FBSSxHQUFHLE1BQU0sUUFBUSxDQUFDLEVBQUUsU0FBUyxNQUFNLFFBQVEsQ0FBQztBQUFBLE1BQ3RHLE9BQU8sTUFBTSxRQUFRLENBQUMsRUFBRSxNQUFNLE1BQU0sU0FBUyxDQUFDLENBQUM7QUFBQSxNQUMvQyxTQUFTO0FBQUEsUUFDUCxHQUFHLFVBQVUsS0FBSyxVQUFVLEdBQUcsTUFBTSxDQUFDLEdBQUcsTUFBTSxVQUFVLENBQUM7QUFBQSxRQUMxRCxHQUFHLE1BQU0sUUFBUSxDQUFDLEVBQUUsTUFBTSxRQUFRLE1BQU8sT0FBTyxDQUFDLElBQUksT0FBUTtBQUFBLE1BQy9EO0FBQUEsTUFDQSxNQUFNLEtBQUssTUFBTSxJQUF5QjtBQUN4QyxjQUFNLE9BQWtCLENBQUM7QUFDekIsY0FBTSxTQUFpQixFQUFFLElBQUksR0FBRyxRQUFRLEdBQUcsUUFBUSxHQUFHLFNBQVMsT0FBVTtBQUN6RSxjQUFNLFFBQVEsR0FBRyxLQUFLLE9BQU8sRUFBRSxJQUFJLEtBQUs7QUFDeEMsY0FBTSxVQUFVLFlBQVksVUFBVSxNQUFNLEtBQUs7QUFFakQsY0FBTSxRQUFRLEtBQUssVUFBVSxTQUFTLFNBQVk7QUFDbEQsY0FBTSxPQUFPLFNBQVUsTUFBTSxVQUFVLE9BQU8sS0FBSyxVQUFVLFdBQVcsSUFBSTtBQUM1RSxjQUFNLE9BQU8sT0FBTyxFQUFFLFFBQVEsT0FBTyxPQUFPLE1BQTZCO0FBQ3ZFLGdCQUFNLE1BQU0sWUFBWSxNQUFNLFNBQVMsS0FBSyxTQUFTLEtBQUssQ0FBQyxHQUFHLFNBQVMsSUFBSTtBQUMzRSxjQUFJLFFBQVEsVUFBYSxTQUFTLElBQUksR0FBRyxHQUFHO0FBQzFDLG1CQUFPLFVBQVU7QUFDakI7QUFBQSxVQUNGO0FBQ0EsZ0JBQU0sUUFBUSxJQUFJO0FBQUEsWUFDaEIsb0JBQUksSUFBSSxDQUFDLENBQUMsTUFBTSxFQUFFLE9BQU8sUUFBUSxRQUFRLEdBQUcsS0FBSyxJQUFJLE1BQU0sR0FBRyxDQUFDLENBQUMsQ0FBQztBQUFBLFlBQ2pFO0FBQUEsWUFDQSxLQUFLO0FBQUEsVUFDUDtBQUNBLGdCQUFNLFFBQVE7QUFBQSxZQUNaLEdBQUc7QUFBQSxZQUNILElBQUksR0FBRyxFQUFFLElBQUksTUFBTTtBQUFBLFlBQ25CO0FBQUEsWUFDQSxPQUFPLEtBQUssUUFBUTtBQUFBLFlBQ3BCLFFBQVEsR0FBRyxJQUFJLElBQUksTUFBTTtBQUFBLFlBQ3pCLE9BQU87QUFBQSxZQUNQLE1BQU0sRUFBRSxPQUFPLENBQUMsRUFBRTtBQUFBLFVBQ3BCO0FBQ0EsZ0JBQU0sRUFBRSxTQUFTLE1BQU0sSUFBSSxNQUFNLFNBQVMsT0FBTyxPQUFPLEtBQUs7QUFDN0QsY0FBSSxTQUFTLEtBQU0sT0FBTSxLQUFLLElBQUksUUFBUSxLQUFLO0FBQy9DLGlCQUFPLFVBQVUsV0FBVyxJQUFJLEtBQUs7QUFDckMsY0FBSSxRQUFTLFFBQU8sVUFBVSxPQUFPLE9BQU8sU0FBUyxPQUFPO0FBQUEsbUJBQ25ELFFBQVEsVUFBYSxDQUFDLEtBQUssT0FBTyxTQUFTO0FBQ2xELHFCQUFTLElBQUksR0FBRztBQUNoQixpQkFBSyxTQUFTLFFBQVEsT0FBTyxHQUFHO0FBQUEsVUFDbEM7QUFBQSxRQUNGO0FBQ0EsWUFBSTtBQUNKLFlBQUk7QUFDRixrQkFBUSxNQUFNLFdBQVdDLFVBQVMsUUFBUSxLQUFLLE1BQU0sSUFBSSxDQUFDLEdBQUcsUUFBUSxNQUFNLEtBQUssTUFBTTtBQUFBLFFBQ3hGLFNBQVMsT0FBTztBQUNkLGdCQUFNLE1BQU0sUUFBUTtBQUNwQixnQkFBTTtBQUFBLFFBQ1I7QUFDQSxZQUFJO0FBQ0osWUFBSSxLQUFLLE9BQU8sUUFBUyxPQUFNLE1BQU0sUUFBUTtBQUFBLGlCQUNwQyxTQUFTLEtBQU0sV0FBVSxNQUFNLE9BQU8sT0FBTyxNQUFNLE9BQU8sSUFBSTtBQUN2RSxjQUFNLE9BQU8sT0FBTyxRQUFRLE1BQU0sS0FBSyxPQUFPLFVBQVUsU0FBWSxPQUFPLEtBQUs7QUFDaEYsZUFBTyxVQUFVLEVBQUUsR0FBRyxNQUFNLE9BQU8sUUFBUSxJQUFJO0FBQUEsTUFDakQ7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNGO0FBUUEsZ0JBQWdCQSxVQUNkLFNBQ3dCO0FBQ3hCLE1BQUksU0FBUztBQUNiLG1CQUFpQixFQUFFLE9BQU8sT0FBTyxLQUFLLFNBQVM7QUFDN0MsY0FBVTtBQUNWLFVBQU0sRUFBRSxRQUFRLE9BQU8sT0FBTztBQUFBLEVBQ2hDO0FBQ0Y7QUFHQSxlQUFlLFNBQ2IsT0FDQSxNQUNBLE9BQzBGO0FBQzFGLFFBQU0sVUFBVSxNQUFNLEtBQUssTUFBTSxPQUFPLElBQUk7QUFDNUMsU0FBTyxRQUFRLE9BQU8sT0FBTyxNQUFNLE9BQU8sSUFBSSxFQUFFLFNBQVMsT0FBTyxPQUFVO0FBQzVFO0FBR0EsZUFBZSxPQUFPLE1BQWlCLE9BQWMsT0FBZSxNQUFpQztBQUNuRyxRQUFNLFFBQVEsTUFBTSxZQUFZLE1BQU0sT0FBTyxPQUFPLEtBQUssR0FBRztBQUM1RCxNQUFJLEtBQUssT0FBTyxPQUFXLE1BQUssTUFBTSxJQUFJLEtBQUssSUFBSSxFQUFFLE9BQU8sTUFBTSxPQUFPLFFBQVEsaUJBQWlCLEtBQUssR0FBRyxDQUFDO0FBQzNHLFNBQU87QUFDVDtBQUVBLFNBQVMsT0FDUCxFQUFFLElBQUksUUFBUSxRQUFRLFFBQVEsR0FDOUIsRUFBRSxNQUFNLE1BQU0sR0FDZCxPQUNBLE9BQ1k7QUFDWixRQUFNLFdBQXNCLENBQUM7QUFDN0IsTUFBSSxNQUFPLFVBQVMsS0FBSyxLQUFLO0FBQzlCLE1BQUksU0FBUyxLQUFLLFNBQVM7QUFDekIsYUFBUyxLQUFLLElBQUksUUFBUSxRQUFRLE1BQU0sRUFBRSxNQUFNLEdBQUcsTUFBTSxPQUFPLEtBQUssTUFBTSxXQUFXLE9BQU8sUUFBUSxLQUFLLENBQUMsQ0FBQztBQUFBLEVBQzlHO0FBQ0EsU0FBTztBQUFBLElBQ0w7QUFBQSxJQUNBLE1BQU0sT0FBTyxPQUFPLFNBQVksQ0FBQyxJQUFJLENBQUMsTUFBTSxFQUFFO0FBQUEsSUFDOUM7QUFBQSxJQUNBLE1BQU0sRUFBRSxTQUFTLEVBQUUsSUFBSSxRQUFRLE9BQU8sR0FBRyxNQUFNO0FBQUEsRUFDakQ7QUFDRjtBQUVBLFNBQVMsVUFBVSxFQUFFLFFBQVEsR0FBUyxPQUE0QjtBQUNoRSxNQUFJLE9BQU8sUUFBUSxJQUFJLEtBQUs7QUFDNUIsTUFBSSxDQUFDLE1BQU07QUFDVCxXQUFPLG9CQUFJLElBQUk7QUFDZixZQUFRLElBQUksT0FBTyxJQUFJO0FBQUEsRUFDekI7QUFDQSxTQUFPO0FBQ1Q7QUFFQSxTQUFTLE1BQU0sT0FBMEIsT0FBdUI7QUFDOUQsTUFBSSxVQUFVLE9BQVcsUUFBTyxPQUFPLEtBQUs7QUFDNUMsUUFBTSxJQUFJLFFBQVEsbUJBQW1CO0FBQUEsSUFDbkMsTUFBTSwwQkFBMEIsS0FBSztBQUFBLElBQ3JDLFFBQVE7QUFBQSxFQUNWLENBQUM7QUFDSDs7O0FDektBLElBQU0sU0FBUyxDQUFDLFFBQVEsU0FBUyxZQUFZLFFBQVEsVUFBVSxTQUFTO0FBRWpFLElBQU0sT0FBK0I7QUFBQSxFQUMxQyxNQUFNO0FBQUEsRUFDTixNQUFNLENBQUMsU0FBK0IsVUFBVSxRQUFRLENBQUMsT0FBTyxLQUFLLENBQUMsUUFBUSxPQUFPLElBQUk7QUFBQSxFQUN6RixNQUFNLEtBQUssTUFBTSxNQUFNO0FBQ3JCLFVBQU0sU0FBUyxVQUFVLEtBQUssTUFBTSxNQUFNLENBQUMsR0FBRyxLQUFLLE1BQU0sTUFBTSxDQUFDO0FBQ2hFLFVBQU0sUUFBUSxLQUFLLFFBQVEsUUFBUSxDQUFDLEdBQUcsT0FBTyxLQUFLLENBQUMsRUFBRSxLQUFLLElBQUksQ0FBQztBQUNoRSxXQUFPO0FBQUEsTUFDTCxNQUFNO0FBQUEsTUFDTjtBQUFBLE1BQ0EsU0FBUztBQUFBLE1BQ1QsVUFBVSxDQUFDO0FBQUEsTUFDWCxTQUFTLFVBQVUsS0FBSyxNQUFNLEtBQUssTUFBTSxDQUFDLEdBQUcsS0FBSyxNQUFNLE1BQU0sQ0FBQztBQUFBLE1BQy9ELE1BQU0sS0FBSyxFQUFFLFdBQVcsTUFBTSxHQUFHO0FBQy9CLG1CQUFXLENBQUMsTUFBTSxJQUFJLEtBQUssUUFBUTtBQUVqQyxnQkFBTSxRQUFRLFVBQVUsTUFBTSxlQUFlLFdBQVcsS0FBSyxHQUFHLGdCQUFnQixLQUFLLEVBQUU7QUFDdkYsY0FBSSxNQUFPLE9BQU0sSUFBSSxNQUFNLEtBQUs7QUFBQSxRQUNsQztBQUNBLGVBQU8sRUFBRSxNQUFNLFFBQVcsTUFBTSxDQUFDLEdBQUcsT0FBTyxLQUFLLENBQUMsR0FBRyxVQUFVLENBQUMsRUFBRTtBQUFBLE1BQ25FO0FBQUE7QUFBQSxNQUVBLFNBQVMsTUFBTTtBQUFBLElBQ2pCO0FBQUEsRUFDRjtBQUNGOzs7QUNYQSxlQUFzQixTQUNwQixNQUNBLFNBQ0EsS0FDQSxNQUNtQjtBQUNuQixRQUFNLEVBQUUsTUFBTSxNQUFNLE9BQU8sVUFBVSxJQUFJO0FBQ3pDLFFBQU0sV0FBVyxNQUFNLEtBQUssUUFBUSxTQUFTLEdBQUc7QUFDaEQsUUFBTSxFQUFFLE1BQU0sU0FBUyxVQUFVLE1BQU0sSUFBSSxTQUFTO0FBQ3BELFFBQU0sUUFBUSxLQUFLLFFBQVE7QUFDM0IsUUFBTSxRQUFlLFVBQVUsS0FBSyxNQUFNLE1BQU0sQ0FBQyxHQUFHLE1BQU0sTUFBTSxDQUFDO0FBQ2pFLFFBQU0sUUFBeUIsYUFBYSxLQUFLLE1BQU0sTUFBTSxDQUFDLEdBQUcsTUFBTSxNQUFNLEdBQUcsT0FBTyxRQUFRLFVBQVU7QUFDekcsUUFBTSxXQUFXLEtBQUssWUFBWSxTQUFZLFNBQVksS0FBSyxZQUFZLFNBQVMsQ0FBQyxJQUFJLENBQUMsS0FBSyxPQUFPLEVBQUUsS0FBSztBQUM3RyxRQUFNLE1BQU0sVUFBVSxXQUFXLEtBQUssV0FBVyxJQUFJO0FBQ3JELFNBQU87QUFBQSxJQUNMO0FBQUEsSUFDQTtBQUFBLElBQ0EsU0FBUztBQUFBLE1BQ1AsR0FBRyxVQUFVLEtBQUssTUFBTSxNQUFNLENBQUMsR0FBRyxNQUFNLE1BQU0sQ0FBQztBQUFBLE1BQy9DLEdBQUcsVUFBVSxXQUFXLEtBQUssWUFBWSxPQUFPLFNBQVMsUUFBUSxJQUFJO0FBQUEsSUFDdkU7QUFBQSxJQUNBLFNBQVMsQ0FBQyxFQUFFLFdBQVcsSUFBSSxPQUFPLFFBQVEsS0FBSyxXQUFXLE9BQU87QUFBQSxNQUMvRCxPQUFPLE1BQU0sT0FBTyxJQUFJLE9BQU8sS0FBSztBQUFBO0FBQUEsTUFFcEMsUUFBUSxPQUFPLE1BQU0sZUFBZSxJQUFJLEtBQUssRUFBRSxLQUFLO0FBQUEsTUFDcEQsVUFBVSxlQUFlLFNBQVksV0FBVyxDQUFDO0FBQUEsTUFDakQsV0FBVyxlQUFlLFNBQVksU0FBWSxDQUFDLFVBQVU7QUFBQSxNQUM3RDtBQUFBLE1BQ0E7QUFBQSxNQUNBLE1BQU07QUFBQSxNQUNOO0FBQUEsSUFDRjtBQUFBLElBQ0EsS0FBSyxFQUFFLE1BQU0sR0FBRyxNQUFNO0FBQ3BCLGlCQUFXLEVBQUUsTUFBTSxJQUFJLE9BQU8sUUFBUSxNQUFNLEtBQUs7QUFDL0MsY0FBTSxJQUFJLElBQUksRUFBRSxPQUFPLFFBQVEsUUFBUSxnQkFBZ0IsS0FBSyxTQUFTLEtBQUssR0FBRyxDQUFDO0FBQ2hGLGFBQU8sS0FBSyxJQUFJLENBQUMsUUFBUSxJQUFJLElBQUk7QUFBQSxJQUNuQztBQUFBLEVBQ0Y7QUFDRjs7O0FDM0NBLElBQU0sZUFBZTtBQUVkLElBQU0sT0FBK0I7QUFBQSxFQUMxQyxNQUFNO0FBQUEsRUFDTixNQUFNLENBQUMsU0FBK0IsVUFBVTtBQUFBLEVBQ2hELE1BQU0sS0FBSyxNQUFNLE1BQU07QUFDckIsVUFBTSxFQUFFLE1BQU0sTUFBTSxPQUFPLFVBQVUsSUFBSTtBQUN6QyxVQUFNLE9BQU8sTUFBTSxTQUFTLE1BQU0sS0FBSyxNQUFNLFFBQVEsSUFBSTtBQUN6RCxVQUFNLEVBQUUsVUFBVSxNQUFNLElBQUk7QUFDNUIscUJBQWlCLFVBQVUsUUFBUSxJQUFJO0FBQ3ZDLFVBQU0sRUFBRSxXQUFXLElBQUksU0FBUyxLQUFLO0FBQ3JDLFVBQU0sV0FBVyxDQUFDLFFBQ2hCLG9CQUFvQixLQUFLLEdBQUcsR0FBRyxNQUFNLENBQUMsR0FBRyxNQUFNLEdBQUcsR0FBRyxVQUFVLFVBQVUsT0FBTyxVQUFVO0FBQzVGLFVBQU0sQ0FBQyxPQUFPLE1BQU0sSUFBSSxDQUFDLFNBQVMsT0FBTyxHQUFHLFNBQVMsUUFBUSxDQUFDO0FBQzlELFVBQU0sUUFBUSxjQUFjLEtBQUssU0FBUyxJQUFJO0FBQzlDLFVBQU0sU0FBUyxjQUFjLEtBQUssVUFBVSxLQUFLO0FBQ2pELFVBQU0sU0FBUyxLQUFLLFVBQVU7QUFFOUIsV0FBTztBQUFBLE1BQ0wsTUFBTTtBQUFBLE1BQ047QUFBQSxNQUNBLFNBQVM7QUFBQSxNQUNULFVBQVUsQ0FBQyxRQUFRO0FBQUEsTUFDbkIsU0FBUyxLQUFLO0FBQUEsTUFDZCxNQUFNLEtBQUssTUFBTTtBQUNmLGNBQU0sVUFBVSxZQUFZLElBQUk7QUFDaEMsY0FBTSxPQUFpQixDQUFDO0FBQ3hCLFlBQUksT0FBTztBQUNYLGlCQUFTLFFBQVEsS0FBSyxTQUFTLEdBQUc7QUFDaEMsZ0JBQU0sVUFBVSxLQUFLLFFBQVEsSUFBSTtBQUNqQyxnQkFBTSxPQUFPLE1BQU0sWUFBWSxLQUFLLFdBQVcsVUFBVSxFQUFFLEdBQUcsU0FBUyxjQUFjLE1BQU0sQ0FBQztBQUM1RixnQkFBTSxFQUFFLFNBQVMsSUFBSSxLQUFLO0FBQzFCLGNBQUksU0FBVSxNQUFLLE1BQU0sT0FBTyxRQUFRO0FBQ3hDLGdCQUFNLE9BQU8sRUFBRSxNQUFNLEVBQUUsT0FBTyxRQUFRLEtBQUssRUFBRTtBQUM3QyxjQUFJLEtBQUssU0FBUyxXQUFXLEVBQUcsUUFBTyxFQUFFLE1BQU0sTUFBTSxLQUFLLEtBQUssTUFBTSxLQUFLLElBQUksR0FBRyxVQUFVLENBQUMsR0FBRyxLQUFLO0FBQ3BHLGNBQUksS0FBSyxPQUFPLFFBQVMsUUFBTyxFQUFFLE1BQU0sTUFBTSxDQUFDLEdBQUcsVUFBVSxLQUFLLFVBQVUsS0FBSztBQUNoRixnQkFBTSxRQUFRLFlBQWEsTUFBTSxRQUFRLFFBQVEsVUFBVSxNQUFNLFFBQVEsTUFBTTtBQUMvRSxjQUFJLE1BQU8sUUFBTyxFQUFFLE1BQU0sTUFBTSxDQUFDLEdBQUcsVUFBVSxDQUFDLFNBQVMsUUFBUSxRQUFRLENBQUMsR0FBRyxLQUFLO0FBQ2pGLGdCQUFNLFVBQVUsWUFBWSxJQUFJLElBQUk7QUFDcEMsY0FBSSxVQUFVLE9BQU87QUFDbkIsbUJBQU8sRUFBRSxNQUFNLE1BQU0sQ0FBQyxHQUFHLFVBQVUsQ0FBQyxLQUFLLE1BQU0sT0FBTyxPQUFPLEdBQUcsR0FBRyxLQUFLLFFBQVEsR0FBRyxLQUFLO0FBQzFGLGdCQUFNLE1BQU0sTUFBTSxLQUFLLE1BQU07QUFDN0IsaUJBQU8sS0FBSyxJQUFJLEtBQUssSUFBSSxjQUFjLEtBQUssR0FBRyxPQUFPLE1BQU07QUFBQSxRQUM5RDtBQUFBLE1BQ0Y7QUFBQSxNQUNBLFNBQVMsTUFBTTtBQUFBLElBQ2pCO0FBQUEsRUFDRjtBQUNGO0FBR0EsU0FBUyxLQUFLLE1BQWdCLE9BQStCLFVBQTBCO0FBQ3JGLFFBQU0sU0FBUyxNQUFNLElBQUksQ0FBQyxFQUFFLE1BQU0sTUFBTTtBQUN0QyxRQUFJO0FBQ0YsYUFBTyxVQUFVLE1BQU0sS0FBSyxRQUFRLENBQUM7QUFBQSxJQUN2QyxRQUFRO0FBQ04sYUFBTztBQUFBLElBQ1Q7QUFBQSxFQUNGLENBQUM7QUFDRCxRQUFNLE9BQU8sT0FBTyxLQUFLLElBQUk7QUFDN0IsTUFBSSxLQUFLLEdBQUcsRUFBRSxNQUFNLEtBQU0sTUFBSyxLQUFLLElBQUk7QUFDMUM7QUFFQSxlQUFlLFFBQ2IsUUFDQSxVQUNBLEVBQUUsVUFBVSxHQUNaLE9BQ2tCO0FBQ2xCLE1BQUksT0FBTyxXQUFXLEVBQUcsUUFBTztBQUNoQyxRQUFNLGVBQWUsRUFBRSxPQUFPLFVBQVUsTUFBTSxHQUFHLFVBQVUsVUFBVSxTQUFTLElBQUk7QUFDbEYsUUFBTSxXQUFXLE1BQU0sTUFBTSxRQUFRLFVBQVUsSUFBSSxXQUFXLE9BQU8sWUFBWSxHQUFHLEVBQUUsWUFBWSxNQUFNLE9BQVUsQ0FBQztBQUNuSCxTQUFPLFNBQVMsTUFBTSxDQUFDLEVBQUUsR0FBRyxNQUFNLEVBQUU7QUFDdEM7QUFFQSxTQUFTLFNBQVMsUUFBZ0MsVUFBNkI7QUFDN0UsUUFBTSxRQUFRLE9BQU8sSUFBSSxDQUFDLEVBQUUsTUFBTSxNQUFNLEdBQUcsTUFBTSxJQUFJLE9BQU8sVUFBVSxNQUFNLEtBQUssUUFBUSxDQUFDLENBQUMsRUFBRTtBQUM3RixTQUFPLElBQUksUUFBUSxlQUFlLEVBQUUsTUFBTSxxQkFBcUIsTUFBTSxLQUFLLElBQUksQ0FBQyxHQUFHLENBQUM7QUFDckY7QUFFQSxJQUFNLE9BQU8sQ0FBQyxFQUFFLFNBQVMsRUFBRSxTQUFTLEVBQUUsR0FBUyxPQUFlLFlBQzVELElBQUksUUFBUSxlQUFlO0FBQUEsRUFDekIsTUFBTSx3QkFBd0IsYUFBYSxPQUFPLENBQUMsV0FBVyxLQUFLLElBQUksVUFBVSxJQUFJLFNBQVMsT0FBTztBQUFBLEVBQ3JHLFFBQVEsV0FBVyxrQ0FBa0M7QUFDdkQsQ0FBQzs7O0FDNUZILGVBQXNCLFNBQ3BCLE1BQ0EsTUFDQSxNQUMyQztBQUMzQyxRQUFNLFdBQVcsTUFBTSxLQUFLLFFBQVEsS0FBSyxNQUFNLE1BQU07QUFDckQsUUFBTSxFQUFFLE1BQU0sUUFBUSxJQUFJLFNBQVM7QUFDbkMsUUFBTSxRQUFRLFVBQVUsS0FBSyxNQUFNLE1BQU0sQ0FBQyxHQUFHLEtBQUssTUFBTSxRQUFRLE1BQU0sQ0FBQztBQUN2RSxRQUFNLFNBQVMsU0FBUyxLQUFLLE9BQU8sSUFBSSxDQUFDLEVBQUUsS0FBSyxNQUFNLElBQUk7QUFDMUQsU0FBTyxDQUFDLE1BQU0sT0FBTztBQUNuQixVQUFNLEVBQUUsV0FBVyxLQUFLLFFBQVEsSUFBSTtBQUNwQyxRQUFJLFNBQVMsYUFBYSxFQUFFLEVBQUc7QUFDL0IsVUFBTSxRQUFRLEtBQUssTUFBTSxTQUFTO0FBQ2xDLFFBQUksV0FBVyxDQUFDLFFBQVEsWUFBWSxFQUFFLEdBQUc7QUFDdkMsWUFBTSxRQUFRLE1BQU0sT0FBTyxXQUFXLE9BQU8sT0FBTztBQUNwRCxZQUFNLFFBQVEsUUFBUSxRQUFRLENBQUMsU0FBUyxRQUFRLE1BQU0sTUFBTSxJQUFJLENBQUMsQ0FBQztBQUNsRSxZQUFNLFFBQVEsUUFBUSxVQUFVLGNBQWMsQ0FBQyxTQUFTLE1BQU0sT0FBTyxJQUFJLENBQUM7QUFDMUUsY0FBUSxNQUFNLEVBQUUsSUFBSSxNQUFNLFNBQVMsS0FBSyxPQUFPLE1BQU0sQ0FBQztBQUFBLElBQ3hEO0FBQ0EsU0FBSyxLQUFLLEtBQUs7QUFBQSxNQUNiO0FBQUEsTUFDQTtBQUFBLE1BQ0EsT0FBTztBQUFBLE1BQ1AsTUFBTSxJQUFJLFFBQVE7QUFDaEIsY0FBTSxPQUFPLE1BQU0sWUFBWSxXQUFXLFVBQVU7QUFBQSxVQUNsRCxPQUFPLE1BQU0sT0FBTyxXQUFXLE9BQU8sT0FBTztBQUFBLFVBQzdDLFFBQVEsZUFBZSxXQUFXLEtBQUssRUFBRTtBQUFBLFVBQ3pDO0FBQUEsVUFDQSxNQUFNLFdBQVcsSUFBSTtBQUFBLFVBQ3JCO0FBQUEsUUFDRixDQUFDO0FBQ0QsZUFBTyxFQUFFLE1BQU0sTUFBTSxDQUFDLEdBQUcsVUFBVSxLQUFLLFNBQVM7QUFBQSxNQUNuRDtBQUFBLElBQ0YsQ0FBQztBQUFBLEVBQ0g7QUFDRjtBQUdBLFNBQVMsUUFBVyxNQUE4QjtBQUNoRCxNQUFJO0FBQ0YsV0FBTyxLQUFLO0FBQUEsRUFDZCxRQUFRO0FBQ04sV0FBTztBQUFBLEVBQ1Q7QUFDRjs7O0FDdENPLElBQU0sT0FBK0I7QUFBQSxFQUMxQyxNQUFNO0FBQUEsRUFDTixNQUFNLENBQUMsU0FBK0IsVUFBVTtBQUFBLEVBQ2hELE1BQU0sS0FBSyxNQUFNLE1BQU07QUFDckIsVUFBTSxFQUFFLE1BQU0sTUFBTSxPQUFPLFVBQVUsSUFBSTtBQUN6QyxVQUFNLE9BQU8sTUFBTSxTQUFTLE1BQU0sS0FBSyxNQUFNLFFBQVEsSUFBSTtBQUN6RCxVQUFNLEVBQUUsVUFBVSxNQUFNLElBQUk7QUFDNUIsVUFBTSxFQUFFLFdBQVcsSUFBSSxTQUFTLEtBQUs7QUFDckMsVUFBTSxlQUFlO0FBQUEsTUFDbkIsS0FBSztBQUFBLE1BQ0w7QUFBQSxNQUNBLENBQUMsR0FBRyxNQUFNLFFBQVE7QUFBQSxNQUNsQixVQUFVO0FBQUEsTUFDVjtBQUFBLE1BQ0E7QUFBQSxJQUNGO0FBQ0EsVUFBTSxPQUFPLEtBQUssUUFBUyxNQUFNLFNBQVMsS0FBSyxNQUFNLE9BQU8sSUFBSTtBQUVoRSxXQUFPO0FBQUEsTUFDTCxNQUFNO0FBQUEsTUFDTjtBQUFBLE1BQ0EsU0FBUyxTQUFTLEtBQUssVUFBVSxJQUFJO0FBQUEsTUFDckMsVUFBVSxDQUFDLFFBQVE7QUFBQSxNQUNuQixTQUFTLEtBQUs7QUFBQSxNQUNkLE1BQU0sS0FBSyxNQUFNLElBQUk7QUFDbkIsY0FBTSxTQUFTLEtBQUssU0FBUyxNQUFNLEVBQUU7QUFDckMsY0FBTSxFQUFFLFFBQVEsUUFBUSxJQUFJLFNBQVM7QUFDckMsWUFBSSxRQUFRLFVBQVUsZUFBZSxDQUFDLGFBQWEsRUFBRSxRQUFRLFNBQVMsZ0JBQWdCLE9BQU8sSUFBSSxDQUFDLEdBQUc7QUFFbkcsZUFBSyxNQUFNLE9BQU8sSUFBSTtBQUN0QixnQkFBTSxJQUFJLFFBQVEsWUFBWTtBQUFBLFlBQzVCLE1BQU0sR0FBRyxPQUFPLElBQUk7QUFBQSxZQUNwQixRQUFRO0FBQUEsVUFDVixDQUFDO0FBQUEsUUFDSDtBQUNBLFlBQUksT0FBTztBQUNYLFlBQUk7QUFDRixnQkFBTSxVQUFtQjtBQUFBLFlBQ3ZCLEdBQUcsS0FBSyxRQUFRLElBQUk7QUFBQSxZQUNwQjtBQUFBLFlBQ0EsZ0JBQWdCLFFBQVE7QUFBQSxZQUN4QixXQUFXLENBQUMsRUFBRSxTQUFBQyxVQUFTLGVBQWUsR0FBRyxTQUFTO0FBRWhELG9CQUFNLFFBQVEsQ0FBQztBQUNmLHFCQUFPO0FBQ1AscUJBQU8sU0FBU0EsV0FBVSxLQUFLLFNBQVMsUUFBUSxJQUFJLEtBQUssS0FBSyxNQUFNLGNBQWMsSUFBSTtBQUFBLFlBQ3hGO0FBQUEsVUFDRjtBQUNBLGdCQUFNLEVBQUUsTUFBTSxNQUFNLE1BQU0sSUFBSSxNQUFNLE9BQU8sVUFBVSxTQUFTLElBQUk7QUFDbEUsZ0JBQU0sUUFBUSxLQUFLLEtBQUssTUFBTSxJQUFJO0FBQ2xDLGNBQUksS0FBSyxJQUFJO0FBQ1gsaUJBQUssTUFBTSxHQUFHLEtBQUssS0FBSyxNQUFNLElBQUksS0FBSyxVQUFVLFNBQVMsS0FBSyxLQUFLLEtBQUssUUFBUSxDQUFDLFVBQVUsS0FBSyxJQUFJLEdBQUc7QUFDMUcsY0FBSSxRQUFRLENBQUMsUUFBUSxJQUFJLEVBQUcsTUFBSyxNQUFNLEVBQUU7QUFDekMsaUJBQU8sRUFBRSxNQUFNLE1BQU0sT0FBTyxVQUFVLEtBQUssVUFBVSxNQUFNLFNBQVMsRUFBRSxNQUFNLEVBQUU7QUFBQSxRQUNoRixTQUFTLE9BQU87QUFDZCxjQUFJLFFBQVEsS0FBTSxNQUFLLE1BQU0sRUFBRTtBQUMvQixnQkFBTTtBQUFBLFFBQ1I7QUFBQSxNQUNGO0FBQUEsTUFDQSxRQUFRLE1BQU0sSUFBSTtBQUNoQixlQUFPLE1BQU0sRUFBRTtBQUFBLE1BQ2pCO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFDRjtBQUdBLGVBQWUsT0FDYixVQUNBLFNBQ0EsRUFBRSxVQUFVLEdBQzZGO0FBQ3pHLE1BQUksQ0FBQyxTQUFTLE9BQU87QUFDbkIsVUFBTSxPQUFPLE1BQU0sWUFBWSxXQUFXLFVBQVUsT0FBTztBQUMzRCxXQUFPLEVBQUUsTUFBTSxNQUFNLEtBQUssTUFBTSxPQUFPLE9BQVU7QUFBQSxFQUNuRDtBQUNBLE1BQUksT0FBTyxvQkFBSSxJQUFrQjtBQUNqQyxtQkFBaUIsUUFBUSxRQUFRLFdBQVcsVUFBVSxPQUFPLEdBQUc7QUFDOUQsV0FBTyxTQUFTLE1BQU0sS0FBSyxLQUFLLElBQUk7QUFDcEMsUUFBSSxLQUFLLEtBQU0sUUFBTyxFQUFFLE1BQU0sS0FBSyxNQUFNLE1BQU0sQ0FBQyxHQUFHLEtBQUssT0FBTyxDQUFDLEdBQUcsT0FBTyxLQUFLLE1BQU07QUFBQSxFQUN2RjtBQUNBLFFBQU0sSUFBSSxRQUFRLFNBQVMsRUFBRSxNQUFNLGlDQUFpQyxDQUFDO0FBQ3ZFO0FBR0EsU0FBUyxRQUFRLEVBQUUsU0FBUyxFQUFFLFVBQVUsUUFBUSxFQUFFLEdBQWtCO0FBQ2xFLFNBQU8sYUFBYSxVQUFhLFlBQVksVUFBYSxTQUFTLFVBQVUsT0FBTyxTQUFTLFNBQVM7QUFDeEc7QUFHQSxTQUFTLEtBQUssRUFBRSxTQUFTLFNBQVMsRUFBRSxVQUFVLFFBQVEsRUFBRSxHQUFrQjtBQUN4RSxRQUFNLFFBQVEsb0JBQUksSUFBcUIsQ0FBQyxlQUFlLHNCQUFzQixzQkFBc0IsWUFBWSxDQUFDO0FBQ2hILFNBQU8sUUFBUSxXQUFXLGFBQWEsVUFBYSxZQUFZLFVBQWEsQ0FBQyxNQUFNLElBQUksUUFBUSxJQUFJO0FBQ3RHOzs7QUNwR08sSUFBTSxRQUFpQztBQUFBLEVBQzVDLE1BQU07QUFBQSxFQUNOLE1BQU0sQ0FBQyxTQUFnQyxXQUFXO0FBQUEsRUFDbEQsTUFBTSxLQUFLLE1BQU0sTUFBTTtBQUNyQixVQUFNLE9BQU8sTUFBTSxLQUFLLE1BQU0sS0FBSyxPQUFPLE9BQU87QUFDakQsVUFBTSxRQUFRLEtBQUssUUFBUSxLQUFLO0FBQ2hDLFVBQU0sUUFBUSxVQUFVLEtBQUssTUFBTSxNQUFNLENBQUMsR0FBRyxLQUFLLE1BQU0sTUFBTSxDQUFDO0FBQy9ELFVBQU0sUUFBUSxVQUFVLEtBQUssTUFBTSxNQUFNLENBQUMsR0FBRyxLQUFLLE1BQU0sTUFBTSxDQUFDO0FBQy9ELFdBQU87QUFBQSxNQUNMLE1BQU07QUFBQSxNQUNOO0FBQUEsTUFDQSxTQUFTLEtBQUssTUFBTSxPQUFPLENBQUMsS0FBSyxFQUFFLFFBQVEsTUFBTSxNQUFNLFNBQVMsQ0FBQztBQUFBLE1BQ2pFLFVBQVUsS0FBSyxNQUFNLFFBQVEsQ0FBQyxFQUFFLFNBQVMsTUFBTSxRQUFRO0FBQUEsTUFDdkQsT0FBTyxLQUFLLE1BQU0sUUFBUSxDQUFDLEVBQUUsTUFBTSxNQUFNLFNBQVMsQ0FBQyxDQUFDO0FBQUEsTUFDcEQsU0FBUztBQUFBLFFBQ1AsR0FBRyxVQUFVLEtBQUssTUFBTSxLQUFLLE1BQU0sQ0FBQyxHQUFHLEtBQUssTUFBTSxNQUFNLENBQUM7QUFBQSxRQUN6RCxHQUFHLEtBQUssTUFBTSxRQUFRLENBQUMsRUFBRSxNQUFNLFFBQVEsTUFBTyxPQUFPLENBQUMsSUFBSSxPQUFRO0FBQUEsTUFDcEU7QUFBQSxNQUNBLE1BQU0sS0FBSyxNQUFNLElBQUk7QUFDbkIsY0FBTSxFQUFFLFVBQVUsSUFBSTtBQUN0QixjQUFNLFFBQVEsV0FBVyxNQUFNLFdBQVcsTUFBTSxPQUFPLFdBQVcsS0FBSyxPQUFPLEtBQUssQ0FBQztBQUNwRixjQUFNLFVBQVUsTUFBTSxLQUFLLE1BQU0sS0FBSyxPQUFPLEVBQUUsR0FBRyxNQUFNLElBQUksT0FBTyxPQUFPLE9BQU8sS0FBSyxRQUFRLEVBQUUsQ0FBQztBQUNqRyxZQUFJLFFBQVMsUUFBTyxFQUFFLE1BQU0sUUFBVyxNQUFNLENBQUMsR0FBRyxVQUFVLENBQUMsT0FBTyxFQUFFO0FBQ3JFLG1CQUFXLENBQUMsTUFBTSxJQUFJLEtBQUssT0FBTztBQUNoQyxnQkFBTSxRQUFRLFVBQVUsTUFBTSxlQUFlLFdBQVcsS0FBSyxHQUFHLGdCQUFnQixLQUFLLEVBQUU7QUFDdkYsY0FBSSxNQUFPLE1BQUssTUFBTSxJQUFJLE1BQU0sS0FBSztBQUFBLFFBQ3ZDO0FBQ0EsZUFBTyxFQUFFLE1BQU0sUUFBVyxNQUFNLENBQUMsR0FBRyxNQUFNLEtBQUssQ0FBQyxHQUFHLFVBQVUsQ0FBQyxFQUFFO0FBQUEsTUFDbEU7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNGOzs7QUM1Qk8sSUFBTSxZQUFpQztBQUFBLEVBQzVDO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQ0Y7OztBQ1FBLGVBQXNCLFVBQ3BCLFdBQ0EsT0FDQSxTQUFxQixDQUFDLEdBQ3RCLFFBQTJCLENBQUMsR0FDUjtBQUNwQixRQUFNLEVBQUUsV0FBVyxJQUFJO0FBQ3ZCLFFBQU0sRUFBRSxNQUFNLFNBQVMsS0FBSyxJQUFJLFdBQVcsS0FBSyxTQUFTLEtBQUs7QUFDOUQsTUFBSSxNQUFNLFNBQVMsSUFBSSxHQUFHO0FBQ3hCLFVBQU0sSUFBSSxRQUFRLFVBQVU7QUFBQSxNQUMxQixNQUFNLGNBQWMsQ0FBQyxHQUFHLE9BQU8sSUFBSSxFQUFFLEtBQUssSUFBSSxDQUFDO0FBQUEsTUFDL0MsT0FBTyxFQUFFLE1BQU0sS0FBSyxLQUFLO0FBQUEsSUFDM0IsQ0FBQztBQUFBLEVBQ0g7QUFDQSxRQUFNLFFBQWUsQ0FBQztBQUN0QixRQUFNLFFBQVEsQ0FBQyxLQUFLLElBQUk7QUFDeEIsUUFBTSxTQUFTLE9BQVUsTUFBb0MsU0FBdUM7QUFDbEcsUUFBSTtBQUNGLGFBQU8sTUFBTSxLQUFLO0FBQUEsSUFDcEIsU0FBUyxPQUFPO0FBQ2QsWUFBTSxVQUFVLEtBQUssRUFBRSxHQUFHLEtBQUssU0FBUyxJQUFJLENBQUM7QUFBQSxJQUMvQztBQUFBLEVBQ0Y7QUFDQSxRQUFNLFlBQVksT0FDaEIsT0FDQSxTQUNvQztBQUNwQyxVQUFNQyxTQUF1QixDQUFDO0FBQzlCLGVBQVcsQ0FBQyxPQUFPLElBQUksS0FBSyxNQUFNLFFBQVEsR0FBRztBQUMzQyxZQUFNLEtBQUssQ0FBQyxHQUFHLE1BQU0sS0FBSztBQUMxQixZQUFNLE9BQWlCO0FBQUEsUUFDckI7QUFBQSxRQUNBO0FBQUEsUUFDQTtBQUFBLFFBQ0EsTUFBTTtBQUFBLFFBQ047QUFBQSxRQUNBLFNBQVMsQ0FBQyxTQUFTLFFBQVEsT0FBTyxDQUFDLEdBQUcsSUFBSSxHQUFHLEdBQUcsWUFBWSxVQUFVLFFBQVEsT0FBTyxDQUFDO0FBQUEsUUFDdEYsT0FBTyxDQUFDQyxRQUFPLFFBQ2IsT0FBTyxDQUFDLEdBQUcsSUFBSSxHQUFHLEdBQUcsWUFBWTtBQUMvQixnQkFBTSxRQUFRLE1BQU0sVUFBVSxXQUFXQSxRQUFPLENBQUMsR0FBRyxDQUFDLEdBQUcsT0FBTyxJQUFJLENBQUM7QUFDcEUsZ0JBQU0sS0FBSyxNQUFNLElBQUk7QUFDckIsaUJBQU87QUFBQSxRQUNULENBQUM7QUFBQSxRQUNILE9BQU87QUFBQSxNQUNUO0FBQ0EsTUFBQUQsT0FBTSxLQUFLLE1BQU0sU0FBUyxNQUFNLElBQUksQ0FBQztBQUFBLElBQ3ZDO0FBQ0EsV0FBT0E7QUFBQSxFQUNUO0FBQ0EsUUFBTSxRQUFRLE1BQU0sVUFBVSxRQUFRLE9BQU8sQ0FBQyxPQUFPLENBQUM7QUFDdEQsUUFBTSxPQUFrQjtBQUFBLElBQ3RCO0FBQUEsSUFDQTtBQUFBLElBQ0EsT0FBTyxDQUFDLEdBQUcsT0FBTyxLQUFLLFFBQVEsVUFBVSxDQUFDLENBQUMsR0FBRyxHQUFHLE1BQU0sUUFBUSxDQUFDLEVBQUUsTUFBTSxNQUFNLFNBQVMsQ0FBQyxDQUFDLENBQUM7QUFBQSxJQUMxRixRQUFRLFdBQVcsUUFBUSxRQUFRLEVBQUUsS0FBSyxHQUFHLFNBQVMsSUFBSSxJQUFJLEtBQUs7QUFBQSxJQUNuRSxNQUFNLE9BQU8sU0FBUyxRQUFRLE1BQU0sT0FBTyxTQUFTO0FBQUEsSUFDcEQsUUFBUSxPQUFPLFVBQVUsUUFBUSxTQUFTLEtBQUs7QUFBQSxJQUMvQyxNQUFNLFFBQVEsUUFBUTtBQUFBLElBQ3RCLE9BQU8sUUFBUSxTQUFTLFVBQVUsUUFBUSxPQUFPLE1BQU0sQ0FBQyxPQUFPLEdBQUcsS0FBSztBQUFBLElBQ3ZFLE1BQU0sTUFBTSxLQUFLLElBQUk7QUFBQSxFQUN2QjtBQUNBLFFBQU0sUUFBUSxJQUFJLEtBQUs7QUFDdkIsU0FBTztBQUNUO0FBRUEsU0FBUyxPQUNQLEVBQUUsS0FBSyxHQUNQLFFBQ0EsTUFDQSxPQUNBLFdBQ21CO0FBQ25CLE1BQUksT0FBTyxTQUFTLE9BQVcsUUFBTyxTQUFTLE9BQU8sTUFBTSxNQUFNLE9BQU8sU0FBUztBQUNsRixTQUFPLFNBQVMsU0FBWSxTQUFZLFNBQVMsTUFBMEIsTUFBTSxPQUFPLFNBQVM7QUFDbkc7QUFFQSxlQUFlLFNBQVMsTUFBZ0IsTUFBc0M7QUFDNUUsUUFBTSxFQUFFLE1BQU0sT0FBTyxXQUFXLEtBQUssSUFBSTtBQUN6QyxRQUFNLE9BQU8sVUFBVSxLQUFLLENBQUMsUUFBUSxJQUFJLEtBQUssSUFBSSxDQUFDO0FBQ25ELE1BQUksQ0FBQyxLQUFNLE9BQU0sSUFBSSxRQUFRLGNBQWMsRUFBRSxNQUFNLGdDQUFnQyxPQUFPLEtBQUssU0FBUyxJQUFJLEVBQUUsQ0FBQztBQUMvRyxRQUFNLFVBQVUsTUFBTSxLQUFLLEtBQUssTUFBTSxJQUFJO0FBQzFDLFFBQU0sRUFBRSxTQUFTLElBQUk7QUFDckIsUUFBTSxPQUFPLEtBQUssUUFBUSxpQkFBaUIsS0FBSyxNQUFNLENBQUMsR0FBRyxNQUFNLE1BQU0sR0FBRyxFQUFFLE1BQU0sT0FBTyxTQUFTLENBQUM7QUFDbEcsU0FBTyxFQUFFLEdBQUcsU0FBUyxLQUFLO0FBQzVCO0FBR0EsZUFBc0IsZUFDcEIsV0FDQSxVQUNBLFNBQXFCLENBQUMsR0FDRjtBQUNwQixRQUFNLEVBQUUsTUFBTSxLQUFLLElBQUksU0FBUztBQUNoQyxRQUFNLFFBQWUsQ0FBQztBQUN0QixRQUFNLGdCQUFnQixNQUNwQixRQUFRLE9BQU8sSUFBSSxRQUFRLFVBQVUsRUFBRSxNQUFNLHlDQUF5QyxDQUFDLENBQUM7QUFDMUYsUUFBTSxPQUFpQjtBQUFBLElBQ3JCO0FBQUEsSUFDQSxZQUFZLFVBQVU7QUFBQSxJQUN0QjtBQUFBLElBQ0EsTUFBTSxDQUFDO0FBQUEsSUFDUDtBQUFBLElBQ0EsU0FBUyxZQUFZO0FBQUEsSUFDckIsT0FBTztBQUFBLElBQ1AsT0FBTztBQUFBLEVBQ1Q7QUFDQSxRQUFNLE9BQU8sTUFBTSxLQUFLLEtBQUssRUFBRSxNQUFNLEtBQUssR0FBRyxJQUFJO0FBQ2pELFFBQU0sT0FBTyxPQUFPLFNBQVMsU0FBWSxTQUFZLFNBQVMsT0FBTyxNQUFNLE1BQU0sT0FBTyxTQUFTO0FBQ2pHLFFBQU0sUUFBUSxJQUFJLEtBQUs7QUFDdkIsU0FBTztBQUFBLElBQ0w7QUFBQSxJQUNBLE9BQU8sQ0FBQyxFQUFFLEdBQUcsTUFBTSxNQUFNLE9BQVUsQ0FBQztBQUFBLElBQ3BDLE9BQU8sU0FBUyxLQUFLLE9BQU8sSUFBSSxDQUFDLFVBQVUsTUFBTSxJQUFJO0FBQUE7QUFBQSxJQUVyRCxRQUFRLFNBQVMsS0FBSyxPQUFPLE9BQU8sQ0FBQyxVQUFVLFVBQVUsU0FBUyxJQUFJLE1BQU0sSUFBSSxDQUFDO0FBQUEsSUFDakY7QUFBQSxJQUNBLFFBQVEsT0FBTyxVQUFVO0FBQUEsSUFDekIsTUFBTTtBQUFBLElBQ04sT0FBTztBQUFBLElBQ1AsTUFBTSxLQUFLO0FBQUEsRUFDYjtBQUNGOyIsCiAgIm5hbWVzIjogWyJwYXJ0cyIsICJsb2FkIiwgImNyZWF0ZVJlYWRTdHJlYW0iLCAiY3N2IiwgImNyZWF0ZVJlYWRTdHJlYW0iLCAidW5rbm93biIsICJudW1iZXJlZCIsICJjaGFuZ2VzIiwgInN0ZXBzIiwgInRyYWlsIl0KfQo=
