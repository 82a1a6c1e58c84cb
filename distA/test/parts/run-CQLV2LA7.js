import {
  settingsOf
} from "./chunk-ANBTGI7E.js";
import {
  statusText
} from "./chunk-2MTLLGSM.js";
import {
  differenceDocument,
  verdictDocument
} from "./chunk-KTI4R62G.js";
import "./chunk-3FKEU5VW.js";
import {
  wholeNumber
} from "./chunk-E5WEDB6Y.js";
import {
  examples
} from "./chunk-JVALCJ3H.js";
import {
  walkSteps
} from "./chunk-EXRO6EMA.js";
import {
  demandSecrets,
  fromCommandLine,
  graver,
  inputScope,
  lineOf,
  manyAtOnce,
  openTable,
  planTrail,
  requestAsTrail,
  settleTable,
  startScope
} from "./chunk-RVJNCWXC.js";
import "./chunk-4F2HHAKH.js";
import "./chunk-EHQEYXN5.js";
import {
  compareVersions
} from "./chunk-DBOKXPOD.js";
import {
  sendRequest
} from "./chunk-RCNXIKQJ.js";
import "./chunk-2IYWYRKP.js";
import {
  journalFolder,
  openJournal
} from "./chunk-GPEMP43C.js";
import "./chunk-HXYVL4WF.js";
import {
  problemFrom,
  recorder
} from "./chunk-WVOF6Q2Z.js";
import "./chunk-33U4T2M5.js";
import {
  jsonLines
} from "./chunk-5LQRYHH4.js";
import "./chunk-3HNS4OKH.js";
import "./chunk-2P5QH4SA.js";
import "./chunk-M6H7XQX2.js";
import "./chunk-7DROAWR7.js";
import {
  brief,
  briefProblem
} from "./chunk-4THVOAEK.js";
import "./chunk-KPXZDYPQ.js";
import "./chunk-64GZ67CL.js";
import "./chunk-IFMLXW3Q.js";
import "./chunk-JTXRQ3DM.js";
import "./chunk-UFHSLVCM.js";
import "./chunk-2YNHSDXB.js";
import "./chunk-OQREOMES.js";
import "./chunk-2RJTCR3G.js";
import "./chunk-3GYCCOMC.js";
import {
  variableNames
} from "./chunk-7G6JQYYU.js";
import "./chunk-BNANEU6A.js";
import "./chunk-G6PY5PV3.js";
import "./chunk-YNHN5OI4.js";
import {
  toldOnly
} from "./chunk-KDZI5FEM.js";
import "./chunk-REJVQWM4.js";
import {
  shortText
} from "./chunk-WAHZOCQ7.js";
import {
  readPlace
} from "./chunk-V2NIP2IX.js";
import "./chunk-U6MR4M5T.js";
import "./chunk-TNGRBWFR.js";
import "./chunk-36BGEIU2.js";
import {
  makeRedactor
} from "./chunk-34QJGQUN.js";
import {
  sealing
} from "./chunk-KABWP7ZN.js";
import "./chunk-AJOWUZTK.js";
import {
  writeAtomically
} from "./chunk-IBVRGXBJ.js";
import "./chunk-REWHJNK7.js";
import "./chunk-VV4FZXZN.js";
import "./chunk-ADLZ4E65.js";
import "./chunk-BC36KCSM.js";
import "./chunk-KTFSZ6KS.js";
import {
  exitStatus,
  problemLines
} from "./chunk-3RBKBAZJ.js";
import {
  printableLine
} from "./chunk-NAZM5QF7.js";
import {
  table
} from "./chunk-36MCF5ZC.js";
import {
  cellText
} from "./chunk-5DCQHAPP.js";
import "./chunk-MAL2YCX2.js";
import "./chunk-M2U6DOQ3.js";
import "./chunk-77DFO3CW.js";
import "./chunk-J7IJ6DS5.js";
import "./chunk-4DNYAMDJ.js";
import "./chunk-UHUDVQF4.js";
import {
  durationText,
  parseDuration
} from "./chunk-IQWA53IU.js";
import "./chunk-6FF7OQVK.js";
import "./chunk-7JVJJYGZ.js";
import "./chunk-VVGKGSPN.js";
import {
  noNames
} from "./chunk-ILBUWU7B.js";
import {
  placeInside
} from "./chunk-QF6HTAQS.js";
import {
  nearestHint
} from "./chunk-PACVB44P.js";
import "./chunk-WDD3S5O6.js";
import {
  Evaluation
} from "./chunk-ELCQYB6S.js";
import {
  textOf
} from "./chunk-ZC7SUIQQ.js";
import {
  Problem,
  asProblem
} from "./chunk-FSPVDUAZ.js";
import "./chunk-RABAPZK5.js";
import {
  plain
} from "./chunk-XGDOGID3.js";

// src/core/trail/run/matrix.ts
var mostDeviations = 5e3;
function makeMatrix(shown2) {
  const checks = /* @__PURE__ */ new Set();
  const environments = [];
  const subjects = [];
  const open = /* @__PURE__ */ new Map();
  let told = 0;
  function step(event) {
    const row = event.row ?? 0;
    let own = open.get(row);
    if (!own) {
      own = { cells: /* @__PURE__ */ new Map(), deviations: [] };
      open.set(row, own);
    }
    if (event.depth === 0) {
      checks.add(event.label);
      own.cells.set(event.label, stateOf(event));
    }
    for (const deviation of deviationsOf(event, shown2)) {
      if (told >= mostDeviations) return;
      told += 1;
      own.deviations.push(deviation);
    }
  }
  function close(row, name, environment) {
    if (!environments.includes(environment)) environments.push(environment);
    const own = open.get(row) ?? { cells: /* @__PURE__ */ new Map(), deviations: [] };
    open.delete(row);
    const deviations = own.deviations.map((one) => ({ subject: name, ...one }));
    subjects.push({ environment: environments.indexOf(environment), row, name, cells: own.cells, deviations });
  }
  return {
    take(event, environment) {
      if (event.event === "step") step(event);
      else if (event.event === "row")
        close(event.row, [environment, event.label].filter(Boolean).join(" "), environment ?? "");
    },
    ended(environment) {
      if (open.has(0)) close(0, environment, environment);
    },
    missing(environment, problem) {
      open.set(0, { cells: /* @__PURE__ */ new Map(), deviations: [silence("", problem)] });
      close(0, environment, environment);
    },
    matrix() {
      const sorted = [...subjects].sort((a, b) => a.environment - b.environment || a.row - b.row);
      return {
        checks: [...checks],
        subjects: sorted.map(({ name, cells }) => ({ name, cells })),
        deviations: sorted.flatMap(({ deviations }) => deviations)
      };
    }
  };
}
function stateOf({ state, problems }) {
  if (state !== "failed") return state;
  return problems.some(({ family }) => family === "no-answer") ? "unreachable" : "failed";
}
function* deviationsOf({ label: check, sent, told, problems }, shown2) {
  const echo = sent?.echo ?? "";
  for (const { place, expected = "", found = "", deviations } of (sent?.verdicts ?? []).filter(({ ok }) => !ok)) {
    if (!deviations || deviations.length === 0) yield { check, place, expected, found, echo };
    else {
      for (const { at: at2, left, right } of deviations)
        yield { check, place: at2, expected: shown2(left), found: shown2(right), echo };
    }
  }
  for (const { at: at2, left, right } of told?.differences ?? [])
    yield { check, place: at2, expected: shown2(left), found: shown2(right), echo };
  const [silent] = problems.filter(({ family }) => family === "no-answer");
  if (silent) yield { ...silence(check, silent), echo };
}
var silence = (check, { what }) => ({
  check,
  place: "answer",
  expected: "an answer",
  found: what,
  echo: ""
});

// src/core/trail/run/names.ts
async function planNames(workspace, names, wishes = {}) {
  const plans = [];
  for (const name of names) plans.push(...await planName(workspace, name, wishes));
  return plans;
}
async function planName(workspace, name, wishes) {
  const { collection } = workspace;
  const known = (kind) => {
    try {
      collection.resolve(kind, name);
      return true;
    } catch (error) {
      if (error instanceof Problem && error.code === "name-ambiguous") throw error;
      return false;
    }
  };
  if (known("trail")) return [await planTrail(workspace, name, wishes)];
  if (known("request")) return [await requestAsTrail(workspace, await workspace.prepare(name), wishes)];
  const folder = `${name.replace(/^(?:trails|requests)\//, "").replace(/\/$/, "")}/`;
  const inFolder = (kind) => collection.names(kind).filter((one) => one.startsWith(folder)).sort();
  const below = inFolder("trail");
  const plans = [];
  for (const trail of below) plans.push(await planTrail(workspace, trail, wishes));
  if (below.length === 0) {
    for (const request of inFolder("request"))
      plans.push(await requestAsTrail(workspace, await workspace.prepare(request), wishes));
  }
  if (plans.length > 0) return plans;
  throw new Problem("name-not-found", {
    what: `there is neither a trail nor a request ${name}, nor a folder of them`,
    remedy: nearestHint(name, [...collection.names("trail"), ...collection.names("request")])
  });
}

// src/core/trail/run/open-run.ts
import { createHash } from "node:crypto";
import { join as join2 } from "node:path";

// src/core/trail/journal/before.ts
import { readdirSync } from "node:fs";
import { join } from "node:path";

// src/core/trail/journal/lines.ts
import * as z from "zod/mini";
var part = z.union([z.literal("all"), z.literal("none"), z.array(z.number())]);
var runOptions = z.strictObject({
  rows: z.optional(z.string()),
  atOnce: z.optional(z.number()),
  /** How often all is walked; nothing for as long as nobody ends it. */
  repeat: z.optional(z.number()),
  /** Milliseconds from one beginning to the next. */
  every: z.number(),
  until: z.optional(z.enum(["ok", "failed"])),
  /** By plan; all of every plan where nothing is said. */
  parts: z.optional(z.array(part))
});
var kept = z.array(
  z.strictObject({
    name: z.string(),
    origin: z.string(),
    value: z.optional(z.any()),
    sealed: z.optional(z.string()),
    /** It is known to be secret by its declaration, and not only by what it holds. */
    secret: z.optional(z.boolean())
  })
);
var at = z.string();
var undoStates = z.enum(["done", "failed", "not needed", "impossible"]);
var journalLine = z.discriminatedUnion("line", [
  /** The first: what was asked for. */
  z.strictObject({
    line: z.literal("run"),
    run: z.string(),
    at: z.string(),
    /** Of the process, which may still be at it. */
    process: z.number(),
    environment: z.string(),
    names: z.array(z.string()),
    /** By `--set`, sealed. */
    settings: z.string(),
    options: runOptions,
    /** SHA-256 of the trails that are walked. */
    digest: z.string()
  }),
  z.strictObject({ line: z.literal("resumed"), run: z.string(), at: z.string(), process: z.number() }),
  /** A call that changes something is about to leave. */
  z.strictObject({
    line: z.literal("leaving"),
    at,
    row: z.optional(z.number()),
    call: z.string(),
    key: z.optional(z.string())
  }),
  z.strictObject({
    line: z.literal("step"),
    at,
    echo: z.optional(z.string()),
    kept: z.optional(kept),
    /** What its answer leaves in the columns of a table. */
    cells: z.optional(kept),
    problem: z.optional(briefProblem)
  }),
  /** What a row leaves in its table. */
  z.strictObject({ line: z.literal("cells"), at, cells: z.any() }),
  z.strictObject({
    line: z.literal("row"),
    /** Which of the walks of the command. */
    walk: z.number(),
    row: z.number(),
    label: z.optional(z.string()),
    problem: z.optional(briefProblem)
  }),
  z.strictObject({
    line: z.literal("armed"),
    at,
    step: z.string(),
    request: z.string(),
    row: z.optional(z.number()),
    given: kept,
    /** Names that the environment may want, such as those of the row. */
    names: kept
  }),
  z.strictObject({ line: z.literal("undone"), at, state: undoStates, problem: z.optional(briefProblem) }),
  /** An item that once-by passes over from now on. */
  z.strictObject({ line: z.literal("handled"), where: z.string(), key: z.string() }),
  z.strictObject({ line: z.literal("doubt"), walk: z.number(), call: z.string() }),
  z.strictObject({ line: z.literal("walk"), walk: z.number(), ok: z.boolean() })
]);

// src/core/trail/journal/before.ts
async function readJournal(folder, run, recorder2) {
  const path = join(folder, fileOf(folder, run));
  const steps = /* @__PURE__ */ new Map();
  const cells = /* @__PURE__ */ new Map();
  const rows = /* @__PURE__ */ new Map();
  const failed = [];
  const doubts = [];
  const handled = /* @__PURE__ */ new Map();
  const walks = /* @__PURE__ */ new Map();
  const armed = /* @__PURE__ */ new Map();
  const undone = /* @__PURE__ */ new Set();
  let header;
  let process2 = 0;
  const step = (at2, known) => {
    const group = at2.split("/", 1)[0];
    const others = steps.get(group);
    if (others) others.set(at2, known);
    else steps.set(group, /* @__PURE__ */ new Map([[at2, known]]));
  };
  for await (const line of linesOf(path)) {
    switch (line.line) {
      case "run":
        header = line;
        process2 = line.process;
        break;
      case "resumed":
        process2 = line.process;
        break;
      case "leaving":
        step(line.at, { state: "under way", kept: [], cells: [], problem: void 0, call: line.call, key: line.key });
        break;
      case "step":
        step(line.at, {
          state: line.problem ? "failed" : "done",
          kept: recorder2.read(line.kept ?? []),
          cells: recorder2.read(line.cells ?? []),
          problem: line.problem && problemFrom(line.problem),
          call: "",
          key: void 0
        });
        break;
      case "cells":
        cells.set(line.at, line.cells);
        break;
      case "row": {
        const ok = line.problem === void 0;
        const ofWalk = rows.get(line.walk);
        if (ofWalk) ofWalk.set(line.row, ok);
        else rows.set(line.walk, /* @__PURE__ */ new Map([[line.row, ok]]));
        if (line.problem)
          failed.push({ walk: line.walk, row: line.row, label: line.label ?? "", problem: line.problem });
        steps.delete(`${line.walk}.${line.row}`);
        break;
      }
      case "armed": {
        const { at: at2, step: name, request, row, given, names } = line;
        armed.set(at2, { at: at2, step: name, request, row, given: recorder2.read(given), names: recorder2.read(names) });
        break;
      }
      case "undone":
        if (line.state === "done" || line.state === "not needed") undone.add(line.at);
        break;
      case "handled": {
        const keys = handled.get(line.where);
        if (keys) keys.add(line.key);
        else handled.set(line.where, /* @__PURE__ */ new Set([line.key]));
        break;
      }
      case "doubt":
        doubts.push({ walk: line.walk, call: line.call });
        break;
      case "walk":
        walks.set(line.walk, line.ok);
    }
  }
  if (!header) {
    throw new Problem("data-shape", {
      what: `the journal of run ${run} has no beginning`,
      where: { file: path },
      remedy: "the run was killed before its first step: run it again"
    });
  }
  return { path, header, process: process2, steps, cells, rows, failed, doubts, handled, walks, armed, undone };
}
function recordedJournals(folder) {
  let files;
  try {
    files = readdirSync(folder);
  } catch {
    return [];
  }
  return files.filter((file) => file.endsWith(".jsonl")).sort().reverse().map((file) => ({ file, run: file.replace(/^.*-|\.jsonl$/g, "") }));
}
function fileOf(folder, run) {
  const all = recordedJournals(folder);
  const found = run === "last" ? all[0] : all.find((one) => one.run === run);
  if (found) return found.file;
  throw new Problem("echo-not-found", {
    what: run === "last" ? "no run is recorded yet" : `there is no run ${run}`,
    remedy: all.length === 0 ? "echo-trail run records what it walks" : nearestHint(
      run,
      all.slice(0, 20).map((one) => one.run)
    ),
    data: { run }
  });
}
async function* linesOf(path) {
  for await (const line of jsonLines(path)) {
    const result = journalLine.safeParse(line);
    if (result.success) yield result.data;
  }
}

// src/core/trail/run/open-run.ts
async function earlierRun(local, home, run, redactor) {
  const seals = await sealing(home);
  const before = await readJournal(journalFolder(local), run, recorder(seals, redactor));
  const { names, environment, settings, options } = before.header;
  return {
    before,
    order: {
      names,
      environment,
      settings: new Map(JSON.parse(seals.open(settings))),
      options
    }
  };
}
function demandIdle({ process: process2, header }, { alive }) {
  if (!alive(process2)) return;
  throw new Problem("usage", {
    what: `run ${header.run} is still under way, in process ${process2}`,
    remedy: "wait until it has ended, or end it"
  });
}
var digestOf = (plans) => createHash("sha256").update(plans.map(({ text }) => text).join("\0")).digest("hex");
async function openRun(workspace, home, plans, order, { process: process2 }, before) {
  const { collection, log, redactor } = workspace;
  const seals = await sealing(home);
  const record = recorder(seals, redactor);
  const at2 = (/* @__PURE__ */ new Date()).toISOString();
  const digest = plans && digestOf(plans);
  if (before) {
    const { run } = before.header;
    if (digest !== void 0 && before.header.digest !== digest) {
      throw new Problem("usage", {
        what: `the trails of run ${run} were changed since: it cannot be gone on with`,
        remedy: `echo-trail run --failed-of ${run} walks what failed of it, echo-trail run --undo ${run} takes back what it made`
      });
    }
    const first2 = { line: "resumed", run: log.run, at: at2, process: process2 };
    return openJournal({ path: before.path, run, recorder: record, first: first2, before });
  }
  const first = {
    line: "run",
    run: log.run,
    at: at2,
    process: process2,
    environment: order.environment,
    names: [...order.names],
    settings: seals.seal(JSON.stringify([...order.settings])),
    options: order.options,
    digest: digest ?? ""
  };
  const path = join2(journalFolder(collection.local), `${at2.replace(/[-:.]/g, "")}-${log.run}.jsonl`);
  return openJournal({ path, run: log.run, recorder: record, first, before: void 0 });
}
function failedParts(plans, { failed, walks }) {
  const isOf = (walk, plan) => walk % plans.length === plan;
  return plans.map(({ rows }, plan) => {
    const own = [...new Set(failed.filter(({ walk }) => isOf(walk, plan)).map(({ row }) => row))];
    if (rows) return own.length === 0 ? "none" : own;
    return [...walks].some(([walk, ok]) => !ok && isOf(walk, plan)) ? "all" : "none";
  });
}

// src/core/trail/closing.ts
async function closeSessions(workspace, report) {
  for (const name of [...workspace.sessions.opened]) {
    try {
      await workspace.sessions.close(name);
      report({ event: "session-closed", name, problem: void 0 });
    } catch (error) {
      report({ event: "session-closed", name, problem: asProblem(error) });
    }
  }
}

// src/core/trail/undoing.ts
async function undoAll(walk, signal) {
  for (const armed of walk.undo.reverse()) await undoOne(armed, walk, signal);
}
async function undoOne(armed, walk, signal) {
  const { step, label, at: at2, run } = armed;
  const { state, sent, problem } = await undoState(run, signal);
  walk.report({ event: "undo", label, step, state, row: walk.row, sent, problem });
  walk.journal?.undone(at2, state, problem);
}
async function undoState(run, signal) {
  try {
    const { sent, problems } = await run(signal);
    const [problem] = problems;
    const gone = sent?.outcome.received?.status === 404 || sent?.outcome.received?.status === 410;
    return { state: problem ? gone ? "not needed" : "failed" : "done", sent, problem: gone ? void 0 : problem };
  } catch (error) {
    const problem = asProblem(error);
    const missing = problem.code === "input-missing" || problem.code === "unknown-name";
    return { state: missing ? "impossible" : "failed", sent: void 0, problem };
  }
}
async function walkWithUndo(plan, walk, undoSignal) {
  const problem = await walkSteps(plan.steps, walk);
  const due = plan.undo === "always" || plan.undo === "failure" && problem !== void 0;
  const takenBack = due && walk.undo.length > 0 && !walk.workspace.dryRun;
  if (takenBack) await undoAll(walk, undoSignal);
  return { problem, takenBack };
}

// src/core/trail/run/undo-run.ts
var leftOf = ({ armed, undone }) => [...armed.values()].filter(({ at: at2 }) => !undone.has(at2)).reverse();
async function undoRun(workspace, before, journal, report, signal) {
  let [undone, notUndone] = [0, 0];
  workspace.onSessionOpened = (name) => report({ event: "session-opened", name, problem: void 0 });
  for (const armed of leftOf(before)) {
    if (signal.aborted) break;
    const event = await undoOne2(workspace, armed, signal);
    journal.undone(armed.at, event.state, event.problem);
    report(event);
    if (event.state === "done" || event.state === "not needed") undone += 1;
    else notUndone += 1;
  }
  await closeSessions(workspace, report);
  workspace.onSessionOpened = void 0;
  return { run: before.header.run, undone, notUndone };
}
async function undoOne2(workspace, armed, signal) {
  const { step, request, row, given, names } = armed;
  const values = new Map(given.map((one) => [one.name, one]));
  const { state, sent, problem } = await undoState(async (ending) => {
    const prepared = await workspace.prepare(request);
    const done = await sendRequest(workspace, prepared, {
      given: (input) => values.get(input),
      caller: namesFromKept(names),
      signal: ending,
      step: `undo of ${step}`,
      row
    });
    return { sent: done, kept: [], problems: done.problems };
  }, signal);
  return { event: "undo", label: request, step, state, row, sent, problem };
}
var namesFromKept = (kept2) => {
  const known = new Map(kept2.map((one) => [one.name, one]));
  return { lookup: (name) => known.get(name), known: () => known.keys(), layers: ["values of the run"] };
};

// src/cli/view/run.ts
function eventLines(event, terminal, hide, width = 0) {
  switch (event.event) {
    case "step":
      return stepLines(event, terminal, hide, width);
    case "undo":
      return undoLines(event, terminal, hide);
    case "row":
      return rowLines(event, terminal, hide);
    case "session-opened":
      return [`${terminal.out.dim("opened ")} session ${event.name}`];
    case "session-closed":
      return event.problem ? [
        `${terminal.out.red("failed ")} closing the session ${event.name}: ${printableLine(hide(event.problem.what))}`
      ] : [`${terminal.out.dim("closed ")} session ${event.name}`];
    case "waiting":
      return [waitText(event, terminal)];
    case "table":
      return tableLines(event, terminal, hide);
  }
}
function rowLines({ row, label, problem }, { out }, hide) {
  const head = `${out.red("failed ")} row ${row} ${out.dim(`(${printableLine(hide(label))})`)}`;
  return problem ? [head, `        ${printableLine(hide(problem.what))}`] : [head];
}
function memberText({ row, rowLabel = "", member }, { out }, hide) {
  const label = rowLabel === "" ? "" : out.dim(` (${printableLine(hide(rowLabel))})`);
  return `${row === void 0 ? "" : `row ${row}${label}: `}${member === void 0 ? "" : `${member}: `}`;
}
function stepLines(event, terminal, hide, width) {
  const { out } = terminal;
  const { label, state, depth, sent, kept: kept2, problems, kind, told } = event;
  const margin = "  ".repeat(depth);
  const mark = { ok: out.green("ok     "), failed: out.red("failed "), skipped: out.dim("skipped") }[state];
  const received = sent?.outcome.received;
  const unsent = sent !== void 0 && received === void 0 && sent.outcome.trouble === void 0;
  const parts = [
    sent && `${out.cyan(sent.wire.method)} ${received ? statusText(received.status, received.parts.reason, out, state === "ok") : unsent ? printableLine(hide(sent.wire.shownUrl)) : out.red("no answer")}`,
    received && out.dim(durationText(received.parts.phases.total)),
    sent && sent.tries > 1 && out.yellow(`${sent.tries} tries`),
    sent && sent.verdicts.length > 0 && out.dim(`${sent.verdicts.filter(({ ok }) => ok).length} of ${sent.verdicts.length} as expected`),
    ...toldTexts(told, hide).map(out.dim),
    kept2.length > 0 && kind !== "keep" && kind !== "choose" && out.dim(`kept ${kept2.join(", ")}`)
  ].filter(Boolean);
  const gap = " ".repeat(Math.max(0, width - margin.length - label.length));
  const more = parts.length > 0 ? `${gap}   ${parts.join("   ")}` : "";
  const lines = [`${mark} ${margin}${memberText(event, terminal, hide)}${out.bold(label)}${more}`];
  for (const problem of problems) {
    lines.push(`        ${margin}${printableLine(hide(problem.what))}`);
    if (problem.reason !== void 0) lines.push(`        ${margin}${out.dim(printableLine(hide(problem.reason)))}`);
    if (problem.remedy !== void 0)
      lines.push(`        ${margin}${out.dim("try")} ${printableLine(hide(problem.remedy))}`);
  }
  for (const { at: at2, left, right } of (told?.differences ?? []).slice(0, 10))
    lines.push(
      `        ${margin}${out.cyan(printableLine(at2))}   ${printableLine(hide(shortText(left)))}   ${out.dim("and")} ${printableLine(hide(shortText(right)))}`
    );
  const further = (told?.differences?.length ?? 0) - 10;
  if (further > 0) lines.push(`        ${margin}${out.dim(`and ${further} more differences`)}`);
  if (problems.length > 0 && sent) lines.push(`        ${margin}${out.dim(`echo ${sent.echo}`)}`);
  return lines;
}
function toldTexts(told, hide) {
  if (!told) return [];
  const { pages, seen, chosen, members, unknown } = told;
  return [
    pages && pagesText(pages),
    seen && `asked ${seen.asked} ${seen.asked === 1 ? "time" : "times"}: ${printableLine(hide(seen.values.join(" \u2192 ")))}`,
    chosen !== void 0 && `chose ${printableLine(hide(chosen))}`,
    members && `${members.ok} of ${members.ok + members.failed}${members.passed > 0 ? `, ${members.passed} handled before` : ""}`,
    unknown !== void 0 && `depends on an answer: ${printableLine(hide(unknown))}`
  ].filter((text) => typeof text === "string");
}
function pagesText({ pages, items, total, partial }) {
  const counted = `${pages} ${pages === 1 ? "page" : "pages"}, `;
  if (partial === void 0) return `${counted}${items} ${items === 1 ? "item" : "items"}`;
  return `partial: ${counted}${items}${total === void 0 ? " items" : ` of ${total} items`} (${partial})`;
}
function waitText({ host, wait, why, told }, { out }) {
  return `${out.yellow("waiting")} ${host}: ${durationText(wait)} ${out.dim(`(${why}; ${told ? "as the server asks" : "the server does not say how long"})`)}`;
}
function tableLines({ label, columns, lines, count: count2, to, show }, terminal, hide) {
  const { out } = terminal;
  const told = to === void 0 ? [] : [`${out.green("wrote  ")} ${to} ${out.dim(`(${count2} rows of ${label})`)}`];
  if (!show) return told;
  const shown2 = lines.slice(0, 40);
  const heads = shown2.some((line) => line.error !== void 0) ? [...columns, "error"] : columns;
  const cells = shown2.map((line) => heads.map((name) => printableLine(hide(cellText(line[name])))));
  const rest2 = count2 - shown2.length;
  return [
    "",
    table(cells, terminal, { head: heads, indent: 8, flexible: heads.map((_, index) => index) }),
    ...rest2 > 0 ? [`        ${out.dim(`and ${rest2} more rows`)}`] : [],
    "",
    ...told
  ];
}
function undoLines({ label, step, state, row, sent, problem }, { out }, hide) {
  const received = sent?.outcome.received;
  const status = received ? `   ${out.cyan(sent?.wire.method ?? "")} ${statusText(received.status, received.parts.reason, out)}` : "";
  const mark = state === "done" ? out.green("undone ") : state === "not needed" ? out.dim("undone ") : out.red("left   ");
  const said = {
    done: "",
    "not needed": "   not needed: it is gone already",
    failed: "",
    impossible: "   not undone: a value for it is missing"
  }[state];
  const lines = [`${mark} ${row === void 0 ? "" : `row ${row}: `}${out.bold(step)} by ${label}${status}${said}`];
  if (problem) lines.push(`        ${printableLine(hide(problem.what))}`);
  return lines;
}

// src/cli/view/run-documents.ts
var orNull = (problem) => problem ? brief(problem) : null;
var rounded = (ms) => Math.round(ms * 1e3) / 1e3;
function eventDocument(event, hide) {
  switch (event.event) {
    case "step":
      return stepDocument(event, hide);
    case "undo":
      return {
        event: "undo",
        request: event.label,
        step: event.step,
        state: event.state,
        row: event.row ?? null,
        problem: orNull(event.problem)
      };
    case "row":
      return { event: "row", row: event.row, label: event.label, ok: event.ok, problem: orNull(event.problem) };
    case "session-opened":
    case "session-closed":
      return { event: event.event, session: event.name, problem: orNull(event.problem) };
    case "waiting":
      return {
        event: "waiting",
        host: event.host,
        wait: Math.round(event.wait),
        why: event.why,
        told: event.told
      };
    case "table":
      return tableDocument(event);
  }
}
function stepDocument(event, hide) {
  const { label, kind, state, depth, row, member, sent, kept: kept2, problems, told } = event;
  const received = sent?.outcome.received;
  const verdicts = sent?.verdicts ?? [];
  return {
    event: "step",
    step: label,
    kind,
    state,
    depth,
    row: row ?? null,
    member: member ?? null,
    ...sent && { method: sent.wire.method, url: hide(sent.wire.shownUrl), tries: sent.tries },
    status: received?.status ?? null,
    time: received ? rounded(received.time) : null,
    expectations: {
      met: verdicts.filter(({ ok }) => ok).length,
      failed: verdicts.filter(({ ok }) => !ok).map(verdictDocument)
    },
    kept: [...kept2],
    problems: problems.map((problem) => brief(problem)),
    ...told && toldDocument(told),
    echo: sent?.echo || null
  };
}
function toldDocument({ pages, seen, chosen, differences, members, unknown }) {
  return {
    ...pages && { pages: { ...pages, total: pages.total ?? null, partial: pages.partial ?? null } },
    ...seen && { seen: { asked: seen.asked, values: [...seen.values] } },
    ...chosen !== void 0 && { chosen },
    ...differences && { differences: differences.map(differenceDocument) },
    ...members && { members },
    ...unknown !== void 0 && { unknown }
  };
}
var tableDocument = ({ label, columns, lines, count: count2, to }) => ({
  event: "table",
  step: label,
  columns: [...columns],
  rows: lines.map(
    (line) => Object.fromEntries(Object.entries(line).map(([name, value]) => [name, plain(value)]))
  ),
  count: count2,
  to: to ?? null
});
function summaryDocument(summary, walked) {
  const { rows, inDoubt, notUndone, problem, ended: _, ...facts } = summary;
  return {
    event: "summary",
    walked,
    ...facts,
    waited: Math.round(summary.waited),
    time: Math.round(summary.time),
    rows: rows ?? null,
    notUndone: [...notUndone],
    inDoubt: [...inDoubt],
    problem: orNull(problem)
  };
}
function matrixDocument({ checks, subjects, deviations }) {
  return {
    event: "matrix",
    checks: [...checks],
    subjects: subjects.map(({ name, cells }) => ({ name, results: Object.fromEntries(cells) })),
    deviations: deviations.map((deviation) => ({ ...deviation }))
  };
}
var undoSummaryDocument = ({ run, undone, notUndone }) => ({
  event: "undo-summary",
  run,
  undone,
  notUndone
});

// src/cli/walking/accepting.ts
var shown = 20;
function accepting(root, terminal, hide) {
  const files = /* @__PURE__ */ new Map();
  return {
    accept({ file, text, differences, made }) {
      const { err } = terminal;
      files.set(file, hide()(text));
      terminal.note(`${err.yellow("accept")}  ${file}${made ? err.dim(" (there was none)") : ""}`);
      for (const { at: at2, left, right } of differences.slice(0, shown)) {
        const sides = [left, right].map((value) => printableLine(hide()(shortText(value))));
        terminal.note(`        ${err.cyan(printableLine(at2))}   ${sides.join(err.dim(" becomes "))}`);
      }
      if (differences.length > shown) terminal.note(`        and ${differences.length - shown} more`);
    },
    async written() {
      for (const [file, text] of files) await writeAtomically(placeInside(root, file), text);
    }
  };
}

// src/cli/walking/opened.ts
async function opened(context, wishes, more) {
  const { terminal } = context;
  const collection = more.collection ?? await context.collection();
  let workspace;
  const baselines = accepting(collection.root, terminal, () => workspace?.redactor.hide ?? ((text) => text));
  workspace = await context.workspace({
    ...more,
    collection,
    allowChanges: wishes.allowChanges,
    retry: toldOnly,
    dryRun: wishes.dryRun,
    accept: wishes.accept ? baselines.accept : void 0,
    standardInput: () => process.stdin,
    choose: terminal.interactive ? (question, labels) => terminal.asking(async () => (await import("./choice-4YFNBPKJ.js")).askLabel(question, labels)) : void 0
  });
  return { workspace, written: baselines.written };
}

// src/core/trail/run/ahead.ts
import { connect } from "node:net";
var patience = 3e3;
var mostHosts = 20;
async function demandAhead(workspace, plans, signal) {
  demandSecrets(workspace, plans);
  if (workspace.dryRun) return;
  await demandHosts(workspace, plans);
  await demandVersion(workspace, signal);
}
async function demandHosts(workspace, plans) {
  const hosts = /* @__PURE__ */ new Map();
  for (const { steps, rows } of plans) {
    if (steps.length < 2) continue;
    if (rows && [...workspace.outsideNames].some((name) => !workspace.layers.layers.some(({ variables }) => variables.has(name))))
      continue;
    for (const { requests, when } of steps) {
      if (when) continue;
      for (const { plan } of requests) {
        const url = fixedOrigin(workspace, plan.address.origin);
        if (url && hosts.size < mostHosts) hosts.set(url.host, url);
      }
    }
  }
  const missing = (await Promise.all([...hosts.values()].map(reached))).filter((problem) => problem !== void 0);
  if (missing.length > 0) throw missing.reduce(graver);
}
function fixedOrigin(workspace, origin) {
  try {
    const surroundings = { world: workspace.world(), onSecret: workspace.redactor.add };
    const evaluation = new Evaluation(variableNames(workspace.layers, noNames, surroundings), surroundings);
    if (workspace.connection(() => evaluation)?.proxy) return void 0;
    const text = origin(evaluation);
    return text !== void 0 && URL.canParse(text) ? new URL(text) : void 0;
  } catch {
    return void 0;
  }
}
function reached({ host, hostname, port, protocol }) {
  return new Promise((resolve) => {
    const socket = connect({
      host: hostname.replace(/^\[|\]$/g, ""),
      port: Number(port || (protocol === "https:" ? 443 : 80)),
      timeout: patience
    });
    const done = (problem) => {
      socket.destroy();
      resolve(problem);
    };
    const silent = (code, what) => done(
      new Problem(code, {
        what: `${host} ${what}`,
        where: "looking ahead",
        remedy: "nothing was sent; is the environment the right one?"
      })
    );
    socket.once("connect", () => done(void 0));
    socket.once("timeout", () => silent("connection-timeout", `did not answer within ${patience / 1e3} s`));
    socket.once("error", ({ code }) => {
      if (code === "ENOTFOUND" || code === "EAI_AGAIN") silent("name-lookup", "is a name that is not known");
      else if (code === "ECONNREFUSED") silent("connection-refused", "is there, and nothing listens on that port");
      else done(void 0);
    });
  });
}
async function demandVersion(workspace, signal) {
  const { version, yaml } = workspace.environment;
  if (!version) return;
  const where = yaml.position(["version"]);
  const found = await versionOf(workspace, version, signal).catch((error) => {
    throw asProblem(error).at(where);
  });
  const wanted = [
    version["at-least"] !== void 0 && compareVersions(found, version["at-least"]) < 0 && `at least ${version["at-least"]}`,
    version.under !== void 0 && compareVersions(found, version.under) >= 0 && `under ${version.under}`
  ].filter((text) => text !== false);
  if (wanted.length === 0) return;
  throw new Problem("version-refused", {
    what: `the vendor's API is of version ${found}, and the environment ${workspace.environment.name} wants ${wanted.join(" and ")}`,
    where,
    remedy: "nothing else was sent; compare the documentation of both versions, then change version in the environment",
    data: { version: found }
  });
}
async function versionOf(workspace, { request, at: at2 }, signal) {
  const loads = [];
  const place = readPlace(at2, loads);
  await Promise.all(loads);
  const prepared = await workspace.prepare(request);
  const { outcome, problems } = await sendRequest(workspace, prepared, {
    given: () => void 0,
    caller: noNames,
    signal,
    step: "version"
  });
  const [first] = problems;
  if (first) throw first;
  const value = outcome.received && place.find(outcome.received);
  if (value === void 0) {
    throw new Problem("place-not-found", { what: `${request} has no version at ${at2}`, remedy: "correct version: at" });
  }
  return textOf(value);
}

// src/cli/view/run-summary.ts
function summaryText(summary, name, terminal, hide) {
  const { out } = terminal;
  const { rows, steps, expectations, undone, notUndone, inDoubt, time, ok, interrupted, run } = summary;
  const word = interrupted ? out.yellow("interrupted") : ok ? out.green("all well") : out.red("failed");
  const facts = [
    rows && rowsText(rows, out),
    `${stepsText(steps)}${steps.failed > 0 ? `, ${out.red(`${steps.failed} failed`)}` : ""}${steps.skipped > 0 ? `, ${steps.skipped} skipped` : ""}`,
    `${expectations.met} of ${expectations.met + expectations.failed} expectations met`,
    undone > 0 && `${undone} undone`,
    notUndone.length > 0 && out.red(`${notUndone.length} not undone`),
    durationText(time)
  ].filter(Boolean);
  const lines = [`${out.bold(name)}: ${out.bold(word)}   ${facts.join("   ")}   ${out.dim(`run ${run}`)}`];
  const patience2 = patienceText(summary);
  if (patience2) lines.push(patience2);
  lines.push(...listed("in doubt: these may or may not have happened", inDoubt, terminal, hide));
  lines.push(...listed("not undone: what these made may still be there", notUndone, terminal, hide));
  if (notUndone.length > 0) lines.push(out.dim(`  try echo-trail run --undo ${run}`));
  if (interrupted) lines.push(out.dim(`  to go on with it: echo-trail run --resume ${run}`));
  else if (rows && rows.failed > 0) lines.push(out.dim(`  to walk what failed: echo-trail run --failed-of ${run}`));
  return lines.join("\n");
}
function dryText({ ok, steps }, name, { out }) {
  const word = ok ? out.green("nothing was sent") : out.red("failed, and nothing was sent");
  return `${out.bold(name)}: ${out.bold(word)}   ${stepsText(steps)}`;
}
var stepsText = ({ ok, failed }) => `${ok + failed} ${ok + failed === 1 ? "step" : "steps"}`;
function rowsText({ ok, failed, before }, out) {
  const parts = [`${ok} of ${ok + failed} rows`];
  if (failed > 0) parts.push(out.red(`${failed} failed`));
  if (before > 0) parts.push(`${before} of them before`);
  return parts.join(", ");
}
function patienceText({ refused, triedAgain, waited }) {
  if (refused + triedAgain === 0 && waited === 0) return void 0;
  return `  ${refused} refused, ${triedAgain} tried again, waited ${durationText(waited)}`;
}
function listed(head, items, { out }, hide) {
  if (items.length === 0) return [];
  const shown2 = items.slice(0, 20).map((text) => `  ${printableLine(hide(text))}`);
  const more = items.length - shown2.length;
  return [out.yellow(head), ...shown2, ...more > 0 ? [`  and ${more} more: --json lists them`] : []];
}
function matrixText({ checks, subjects, deviations }, terminal, hide) {
  const { out } = terminal;
  const paint = {
    ok: out.green("ok"),
    failed: out.red("failed"),
    unreachable: out.red("no answer"),
    skipped: out.dim("skipped"),
    "": out.dim("-")
  };
  const rows = subjects.slice(0, mostSubjects).map(({ name, cells }) => [printableLine(hide(name)), ...checks.map((check) => paint[cells.get(check) ?? ""])]);
  const blocks = [table(rows, terminal, { head: ["", ...checks], flexible: checks.map((_, index) => index + 1) })];
  if (subjects.length > mostSubjects) blocks.push(`and ${subjects.length - mostSubjects} more: --json lists them`);
  if (deviations.length > 0) {
    const lines = deviations.slice(0, mostDeviations2).map(({ subject, place, expected, found, echo }) => [
      ...[subject, place, expected, found].map((text) => printableLine(hide(text))),
      out.dim(echo)
    ]);
    blocks.push("", out.bold(`${deviations.length} ${deviations.length === 1 ? "deviation" : "deviations"}`));
    blocks.push(table(lines, terminal, { head: ["", "at", "expected", "found", "echo"], flexible: [2, 3] }));
    if (deviations.length > mostDeviations2)
      blocks.push(`and ${deviations.length - mostDeviations2} more: --json lists them`);
  }
  return blocks.join("\n");
}
var mostSubjects = 60;
var mostDeviations2 = 60;

// src/cli/walking/walk-plans.ts
import { setTimeout } from "node:timers/promises";

// src/core/trail/tally.ts
var newTally = () => ({
  rows: { ok: 0, failed: 0, before: 0 },
  steps: { ok: 0, failed: 0, skipped: 0 },
  expectations: { met: 0, failed: 0 },
  undone: 0,
  notUndone: [],
  inDoubt: [],
  ended: void 0,
  problem: void 0
});
function count(event, tally) {
  if (event.event === "step") {
    tally.steps[event.state] += 1;
    for (const { ok } of event.sent?.verdicts ?? []) tally.expectations[ok ? "met" : "failed"] += 1;
  } else if (event.event === "row") tally.rows[event.ok ? "ok" : "failed"] += 1;
  else if (event.event === "undo") {
    if (event.state === "done") tally.undone += 1;
    if (event.state === "failed" || event.state === "impossible") tally.notUndone.push(leftText(event));
  }
}
var leftText = ({ step, label, row, problem }) => `${row === void 0 ? "" : `row ${row}: `}${step} by ${label}${problem ? `: ${problem.what}` : ""}`;
function summaryOf(tally, facts) {
  const { rows, ...counts } = tally;
  const { run, interrupted, time, hasRows, patience: patience2 } = facts;
  return {
    run,
    ok: tally.problem === void 0,
    interrupted,
    rows: hasRows ? rows : void 0,
    ...counts,
    ...patience2,
    time
  };
}

// src/core/trail/walk-rows.ts
async function walkRows(plan, rows, workspace, walkOf, tally, { journal, number: number2 = 0, rows: only, signal, undoSignal, report }, ending) {
  const given = fromCommandLine(workspace);
  const lines = workspace.dryRun ? void 0 : plan.table;
  const table2 = lines && await openTable(lines, workspace.collection.root);
  const source = rows.read(workspace, inputScope(plan, workspace, given));
  const ended = await manyAtOnce(
    source[Symbol.asyncIterator](),
    plan.atOnce,
    async (columns, place) => {
      if (only && !only.has(place)) return;
      const row = { number: place, columns };
      const before = journal?.rowBefore(number2, row.number);
      if (before !== void 0) {
        await keptLine(table2, row.number, journal, `${number2}.${row.number}`);
        tally.rows[before ? "ok" : "failed"] += 1;
        tally.rows.before += 1;
        if (!before) tally.problem = graver(tally.problem, failedBefore(row));
        return;
      }
      const label = labelOf(row);
      const walk = walkOf(startScope(plan, workspace, given, row), row.number, label);
      const { problem, takenBack } = await walkRow(plan, walk, row, table2, undoSignal);
      if (signal.aborted && problem && !takenBack) return;
      report({ event: "row", row: row.number, ok: !problem, label, problem });
      journal?.row(number2, row.number, label, problem);
      if (problem) tally.problem = graver(tally.problem, problem);
    },
    ending
  );
  tally.ended = ended;
  if (ended) tally.problem = graver(tally.problem, ended);
  if (!lines || !table2) return;
  if (ending.aborted) return table2.abandon();
  report(await settleTable(lines, table2, plan.name, void 0));
}
async function walkRow(plan, walk, row, table2, undoSignal) {
  const walked = await walkWithUndo(plan, walk, undoSignal);
  if (!plan.table || !table2) return walked;
  const { cells, problem } = lineOf(plan.table, walk, walked.problem);
  walk.journal?.cells(walk.at, cells);
  await table2.add(row.number, cells);
  return { ...walked, problem };
}
async function keptLine(table2, number2, journal, at2) {
  const cells = journal?.cellsBefore(at2);
  if (table2 && cells) await table2.add(number2, cells);
}
var failedBefore = ({ number: number2 }) => new Problem("step-failed", { what: `row ${number2} failed before the run was resumed` });
var plainWord = /^[\w .:-]{1,100}$/;
function labelOf({ columns }) {
  for (const name in columns) {
    const value = columns[name];
    return typeof value === "string" && plainWord.test(value) ? value : shortText(value).replace(/^"|"$/g, "");
  }
  return "";
}

// src/core/trail/walk.ts
async function walkTrail(workspace, plan, settings) {
  const started = performance.now();
  const { journal, number: number2 = 0 } = settings;
  const tally = newTally();
  tally.inDoubt.push(...journal?.doubtsBefore(number2) ?? []);
  const patience2 = { ...workspace.patience };
  const stop = new AbortController();
  const { signal } = settings;
  const ending = settings.stopAtFirstFailure ? AbortSignal.any([signal, stop.signal]) : signal;
  const report = (event) => {
    count(event, tally);
    settings.report(event);
    if (settings.stopAtFirstFailure && event.event === "step" && event.state === "failed") stop.abort();
  };
  workspace.onSessionOpened = (name) => report({ event: "session-opened", name, problem: void 0 });
  workspace.onWait = (wait) => report({ event: "waiting", ...wait });
  const walkOf = (scope, row, rowLabel) => ({
    workspace,
    scope,
    row,
    rowLabel,
    at: row === void 0 ? String(number2) : `${number2}.${row}`,
    depth: 0,
    signal,
    ending,
    undo: [],
    doubt(call) {
      tally.inDoubt.push(call);
      journal?.doubt(number2, call);
    },
    journal,
    table: plan.table,
    last: { cells: {} },
    handled: settings.handled ?? /* @__PURE__ */ new Map(),
    report,
    steps: walkSteps
  });
  try {
    if (plan.rows) await walkRows(plan, plan.rows, workspace, walkOf, tally, { ...settings, report }, ending);
    else {
      const walk = walkOf(startScope(plan, workspace, fromCommandLine(workspace)));
      const walked = await walkWithUndo(plan, walk, settings.undoSignal);
      if (walked.problem) tally.problem = graver(tally.problem, walked.problem);
      if (signal.aborted && walked.takenBack) await journal?.walked(number2, false);
    }
  } finally {
    await closeSessions(workspace, report);
    workspace.onSessionOpened = void 0;
    workspace.onWait = void 0;
  }
  const interrupted = settings.signal.aborted;
  if (interrupted) tally.problem = new Problem("interrupted", { what: "interrupted" });
  else if (!(plan.rows && ending.aborted)) await journal?.walked(number2, tally.problem === void 0);
  return summaryOf(tally, {
    run: journal?.run ?? workspace.log.run,
    interrupted,
    time: performance.now() - started,
    hasRows: plan.rows !== void 0,
    patience: {
      refused: workspace.patience.refused - patience2.refused,
      triedAgain: workspace.patience.triedAgain - patience2.triedAgain,
      waited: workspace.patience.waited - patience2.waited
    }
  });
}

// src/cli/walking/live-view.ts
var nobodyWatches = { take: () => void 0, end: () => void 0 };
var wholeSeconds = (ms) => durationText(ms).replace(/\.\d+ s/, " s");
var refresh = 250;
var span = 5e3;
function liveView({ name, rows }, patience2, terminal) {
  if (!terminal.live) return nobodyWatches;
  const started = performance.now();
  const before = { ...patience2 };
  let [done, failed, steps, failedSteps] = [0, 0, 0, 0];
  let latest = "";
  let about;
  let waiting;
  const past = [];
  const rate = (count2) => {
    const now = performance.now();
    past.push({ at: now, count: count2 });
    while (past.length > 1 && now - (past[0]?.at ?? now) > span) past.shift();
    const [first] = past;
    return first && now > first.at ? (count2 - first.count) * 1e3 / (now - first.at) : 0;
  };
  const picture = () => {
    const elapsed = wholeSeconds(performance.now() - started);
    const speed = rate(rows ? done : steps);
    const facts = rows ? [
      `${done}${about === void 0 ? "" : ` of ${about}`} rows`,
      failed > 0 && `${failed} failed`,
      `${speed.toFixed(speed < 10 ? 1 : 0)} a second`,
      about !== void 0 && speed > 0 && done < about && `${wholeSeconds((about - done) / speed * 1e3)} left`
    ] : [`${steps} steps`, failedSteps > 0 && `${failedSteps} failed`, steps > 20 && `${speed.toFixed(0)} a second`];
    const lines = [`${name}: ${[...facts, elapsed].filter(Boolean).join("   ")}`];
    if (latest !== "") lines.push(`  now      ${latest}`);
    if (waiting) {
      const left = waiting.until - performance.now();
      const refused = `${patience2.refused - before.refused} refused`;
      lines.push(
        left > 0 ? `  waiting  ${waiting.host}, ${durationText(left)} more (${waiting.why}); ${refused}` : `  ${refused}, waited ${durationText(patience2.waited - before.waited)}`
      );
    }
    return lines.join("\n");
  };
  void rows?.about().then(
    (found) => {
      about = found;
    },
    () => void 0
  );
  const timer = setInterval(() => terminal.progress(picture()), refresh);
  return {
    take(event) {
      if (event.event === "step") {
        steps += 1;
        if (event.state === "failed") failedSteps += 1;
        latest = `${event.row === void 0 ? "" : `row ${event.row} `}${event.member === void 0 ? "" : `${event.member} `}${event.label}`;
      } else if (event.event === "row") {
        done += 1;
        if (!event.ok) failed += 1;
      } else if (event.event === "waiting") {
        waiting = { host: event.host, until: performance.now() + event.wait, why: event.why };
      }
    },
    end() {
      clearInterval(timer);
      terminal.progress("");
    }
  };
}

// src/cli/walking/reporter.ts
function reporter(plan, workspace, terminal, matrix, environment) {
  const { hide } = workspace.redactor;
  const width = plan.rows ? 0 : Math.min(40, Math.max(...plan.steps.map(({ label }) => label.length)));
  const live = liveView(plan, workspace.patience, terminal);
  const alike = alikeFailures();
  let shown2 = 0;
  const quietly = (event) => {
    if (!wentWell(event)) return false;
    if (!workspace.dryRun || event.event === "row") return true;
    shown2 += 1;
    return shown2 > shownUnsent;
  };
  const rowsTold = /* @__PURE__ */ new Set();
  return {
    report(event) {
      live.take(event);
      matrix?.take(event, environment);
      if (!terminal.json && (quietly(event) || matrix && isOfRow(event))) return;
      const told = event.event === "row" && rowsTold.delete(event.row);
      if (event.event === "step" && event.state === "failed" && event.row !== void 0) rowsTold.add(event.row);
      if (terminal.json) {
        const document = eventDocument(event, hide);
        terminal.print(hide(JSON.stringify(environment === void 0 ? document : { ...document, environment })));
      } else if (event.event === "waiting") {
        if (!terminal.live && event.added > 0)
          for (const line of eventLines(event, terminal, hide)) terminal.note(line);
      } else if (event.event === "step" && event.state === "failed" && isOneOfMany(event)) {
        for (const line of alike.take(event, () => eventLines(event, terminal, hide, width))) terminal.print(line);
      } else if (told) {
      } else if (!terminal.quiet || event.event === "step" && event.state === "failed") {
        for (const line of eventLines(event, terminal, hide, width)) terminal.print(line);
      }
    },
    end() {
      live.end();
      if (terminal.json) return;
      for (const line of alike.rest()) terminal.print(terminal.out.dim(line));
      if (shown2 > shownUnsent)
        terminal.print(terminal.out.dim(`        and ${shown2 - shownUnsent} more: --json has them all`));
    }
  };
}
var isOfRow = (event) => event.event === "row" || event.event === "step" && event.row !== void 0;
var wentWell = (event) => event.event === "row" ? event.ok : event.event === "step" && event.state !== "failed" && isOneOfMany(event);
var isOneOfMany = ({ row, member }) => row !== void 0 || member !== void 0;
var shownUnsent = 20;
var toldOfAKind = 3;
var mostKinds = 500;
function alikeFailures() {
  const kinds = /* @__PURE__ */ new Map();
  return {
    take(event, lines) {
      const what = event.problems[0]?.what ?? "";
      const key = `${event.label} ${what}`;
      if (kinds.size >= mostKinds && !kinds.has(key)) return lines();
      const kind = kinds.get(key) ?? { label: event.label, what, count: 0 };
      kinds.set(key, kind);
      kind.count += 1;
      return kind.count <= toldOfAKind ? lines() : [];
    },
    rest: () => [...kinds.values()].filter(({ count: count2 }) => count2 > toldOfAKind).map(({ label, what, count: count2 }) => `        ${label}: ${count2 - toldOfAKind} more like it (${what})`)
  };
}

// src/cli/walking/walk-plans.ts
async function walkPlans(walking, context) {
  const { wishes, options } = walking;
  const { repeat, every, until } = options;
  const handled = handledBefore(walking.journal);
  let status = 0;
  for (let pass = 0; repeat === void 0 || pass < repeat; pass += 1) {
    const began = performance.now();
    const { status: own, walked } = await walkPass(pass, walking, context, handled);
    status = worse(status, own);
    const enough = until !== void 0 && until === "ok" === (own === 0);
    if (enough && until === "ok") status = 0;
    if (context.signal.aborted || enough || wishes.stopAtFirstFailure && own !== 0) break;
    if (walked && (repeat === void 0 || pass + 1 < repeat)) await rest(every - (performance.now() - began), context);
    if (context.signal.aborted) return 130;
  }
  return status;
}
var handledBefore = (journal) => new Map([...journal?.handledBefore() ?? []].map(([where, keys]) => [where, new Set(keys)]));
async function walkPass(pass, walking, context, handled) {
  const { plans, wishes, journal, options } = walking;
  let status = 0;
  let walked = false;
  for (const [index, plan] of plans.entries()) {
    const number2 = pass * plans.length + index;
    const before = journal?.walkBefore(number2);
    const part2 = options.parts?.[index] ?? "all";
    if (before === false) status = worse(status, 1);
    if (before !== void 0 || part2 === "none") continue;
    walked = true;
    const rows = part2 === "all" ? void 0 : new Set(part2);
    const problem = await walkOne(plan, number2, walking, context, handled, rows);
    status = worse(status, exitStatus(problem));
    if (context.signal.aborted || wishes.stopAtFirstFailure && problem) break;
  }
  return { status, walked };
}
async function walkOne(plan, number2, { workspace, wishes, journal, matrix, environment }, { terminal, signal, secondSignal }, handled, rows) {
  const { report, end } = reporter(plan, workspace, terminal, matrix, environment);
  const { hide } = workspace.redactor;
  const { stopAtFirstFailure } = wishes;
  const settings = { report, signal, undoSignal: secondSignal, number: number2, journal, rows, stopAtFirstFailure, handled };
  const summary = await walkTrail(workspace, plan, settings).finally(end);
  if (matrix && environment === void 0) matrix.ended(plan.name);
  if (terminal.json) {
    const document = summaryDocument(summary, plan.name);
    terminal.print(hide(JSON.stringify(environment === void 0 ? document : { ...document, environment })));
  } else if (workspace.dryRun) terminal.print(dryText(summary, plan.name, terminal));
  else terminal.print(summaryText(summary, plan.name, terminal, hide));
  if (summary.ended && !terminal.json) terminal.complain(problemLines(summary.ended, terminal.err, hide));
  return summary.problem;
}
async function rest(ms, { terminal, signal }) {
  const until = performance.now() + ms;
  if (ms > 1e3) terminal.note(terminal.err.dim(`again in ${durationText(ms)}`));
  while (!signal.aborted && performance.now() < until) {
    const left = until - performance.now();
    await setTimeout(Math.min(left, 1e3), void 0, { signal }).catch(() => void 0);
  }
}
function worse(one, other) {
  const order = [0, 1, 3, 4, 2, 130];
  return order.indexOf(one) >= order.indexOf(other) ? one : other;
}

// src/cli/walking/walk-ahead.ts
var worker = {
  process: process.pid,
  alive(pid) {
    if (pid === process.pid) return false;
    try {
      process.kill(pid, 0);
      return true;
    } catch (error) {
      return error.code === "EPERM";
    }
  }
};
async function walkAhead(walking, order, context, before) {
  const { workspace, plans, wishes, environment } = walking;
  const { terminal } = context;
  workspace.expectChanges({
    calls: plans.flatMap(({ steps }) => steps).reduce((sum, { changes }) => sum + changes, 0),
    rows: plans.some(({ rows }) => rows !== void 0)
  });
  try {
    await demandAhead(workspace, plans, context.signal);
  } catch (error) {
    const problem = asProblem(error);
    if (environment === void 0 || problem.family !== "no-answer") throw error;
    walking.matrix?.missing(environment, problem);
    terminal.complain(problemLines(problem, terminal.err, workspace.redactor.hide));
    return exitStatus(problem);
  }
  const journal = wishes.dryRun ? void 0 : await openRun(workspace, context.home, plans, order, worker, before);
  try {
    return await walkPlans({ ...walking, journal, options: order.options }, context);
  } finally {
    await journal?.close();
    await walking.written();
  }
}
function tellMatrix(matrix, { terminal }, hide) {
  if (!matrix) return;
  if (terminal.json) terminal.print(hide(JSON.stringify(matrixDocument(matrix.matrix()))));
  else terminal.print(`
${matrixText(matrix.matrix(), terminal, hide)}`);
}

// src/cli/walking/earlier.ts
async function walkEarlier(context, run, wishes) {
  const { own, before, order } = await earlier(context, run, wishes);
  const { rows, atOnce } = order.options;
  const plans = await planNames(own.workspace, order.names, { rows, atOnce });
  own.workspace.checkSettings(plans.flatMap(({ takes }) => takes));
  const matrix = wishes.matrix ? makeMatrix(shortText) : void 0;
  const walking = { ...own, plans, wishes, matrix, environment: void 0 };
  let status;
  if (wishes.resume !== void 0) {
    demandIdle(before, worker);
    status = await walkAhead(walking, order, context, before);
  } else {
    const parts = failedParts(plans, before);
    if (parts.every((part2) => part2 === "none")) {
      context.terminal.note(`nothing failed in run ${before.header.run}`);
      return 0;
    }
    const options = { rows, atOnce, repeat: 1, every: 0, parts };
    status = await walkAhead(walking, { ...order, options }, context);
  }
  tellMatrix(matrix, context, own.workspace.redactor.hide);
  return status;
}
async function earlier(context, run, wishes) {
  const { home } = context;
  if (context.options.env !== void 0) {
    throw new Problem("usage", { what: "--env: the run knows its environment", remedy: "leave it out" });
  }
  const collection = await context.collection();
  const redactor = makeRedactor();
  const { before, order } = await earlierRun(collection.local, home, run, redactor);
  const settings = new Map([...order.settings, ...settingsOf(context.options.set ?? [])]);
  const own = await opened(context, wishes, { environment: order.environment, settings, redactor, collection });
  const options = { ...order.options, atOnce: wishes.atOnce ?? order.options.atOnce };
  return { own, before, order: { ...order, settings, options } };
}
async function undoEarlier(context, run, wishes) {
  const { terminal, signal } = context;
  const { own, before, order } = await earlier(context, run, wishes);
  demandIdle(before, worker);
  const { workspace } = own;
  const { hide } = workspace.redactor;
  if (leftOf(before).length === 0) {
    const none = { run: before.header.run, undone: 0, notUndone: 0 };
    if (terminal.json) terminal.print(JSON.stringify(undoSummaryDocument(none)));
    else terminal.note(`run ${none.run} left nothing that is to be taken back`);
    return 0;
  }
  workspace.expectChanges({ calls: leftOf(before).length, rows: false });
  const journal = await openRun(workspace, context.home, void 0, order, worker, before);
  try {
    const summary = await undoRun(
      workspace,
      before,
      journal,
      (event) => {
        if (terminal.json) terminal.print(hide(JSON.stringify(eventDocument(event, hide))));
        else for (const line of eventLines(event, terminal, hide)) terminal.print(line);
      },
      signal
    );
    if (terminal.json) terminal.print(JSON.stringify(undoSummaryDocument(summary)));
    else {
      const left = summary.notUndone > 0 ? `, ${terminal.out.red(`${summary.notUndone} not`)}` : "";
      terminal.print(`run ${summary.run}: ${summary.undone} undone${left}`);
    }
    return signal.aborted ? 130 : summary.notUndone > 0 ? 1 : 0;
  } finally {
    await journal.close();
  }
}

// src/cli/walking/options.ts
function runOptions2(command) {
  return command.option("--allow-changes", "say yes where the environment asks before a change").option("--rows <file>", "once a row of this file, - for standard input; in place of the rows of the trail").option("--at-once <number>", "so many rows at once; in place of what the trail says").option("--stop-at-first-failure", "begin no further row or iteration once a step has failed").option("--dry-run", "everything but the sending: what would leave, as far as no answer is needed for it").option("--repeat <number>", "walk it so many times").option("--every <duration>", "walk it again and again, beginning every 30s, 5m, 1h").option("--until <outcome>", "with --repeat or --every: end with the first walk that is ok, or that failed").option("--accept", "write what same-as finds to its file, after showing the difference").option("--matrix", "end with rows by checks, and every deviation").option("--resume <run>", "go on with a run that was interrupted or killed; last for the last one").option("--failed-of <run>", "walk only what failed in a run").option("--undo <run>", "take back what a run made and has not taken back");
}
function runWishes(options, names) {
  const text = (name) => options[name];
  const flag = (name) => options[name] === true;
  const number2 = (name, flagName) => text(name) === void 0 ? void 0 : wholeNumber(text(name), flagName, { least: 1 });
  const wishes = {
    rows: text("rows"),
    atOnce: number2("atOnce", "--at-once"),
    allowChanges: flag("allowChanges"),
    accept: flag("accept"),
    dryRun: flag("dryRun"),
    stopAtFirstFailure: flag("stopAtFirstFailure"),
    repeat: number2("repeat", "--repeat") ?? (text("every") === void 0 ? 1 : void 0),
    every: everyOf(text("every")),
    until: untilOf(text("until")),
    matrix: flag("matrix"),
    resume: text("resume"),
    failedOf: text("failedOf"),
    undo: text("undo")
  };
  const earlier2 = ["resume", "failedOf", "undo"].filter((name) => wishes[name] !== void 0);
  const [first] = earlier2;
  if (earlier2.length > 1) {
    throw new Problem("usage", { what: `${earlier2.map(flagOf).join(" and ")} cannot be had together` });
  }
  if (first === void 0 && names.length === 0) {
    throw new Problem("usage", {
      what: "nothing is named that is to be walked",
      remedy: "echo-trail list shows the trails and requests; --resume, --failed-of and --undo take a run instead"
    });
  }
  if (first !== void 0 && names.length > 0) {
    throw new Problem("usage", {
      what: `${flagOf(first)} takes a run, which knows what it walked`,
      remedy: `leave ${names.join(" ")} out`
    });
  }
  const own = ["rows", "repeat", "every", "until"].find((name) => text(name) !== void 0);
  if (first !== void 0 && own !== void 0) {
    throw new Problem("usage", {
      what: `--${own}: the run that ${flagOf(first)} names knows its own`,
      remedy: "leave it out"
    });
  }
  if (wishes.dryRun && (first === "resume" || first === "undo")) {
    throw new Problem("usage", { what: `--dry-run and ${flagOf(first)} cannot be had together` });
  }
  if (wishes.until !== void 0 && text("every") === void 0 && text("repeat") === void 0) {
    throw new Problem("usage", { what: "--until goes with --repeat or --every" });
  }
  return wishes;
}
var flagOf = (name) => `--${name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`)}`;
function everyOf(text) {
  if (text === void 0) return 0;
  const found = parseDuration(text);
  if (found !== void 0 && found > 0) return found;
  throw new Problem("usage", { what: `--every takes a duration with its unit, such as 30s or 5m, not ${text}` });
}
function untilOf(text) {
  if (text === void 0 || text === "ok" || text === "failed") return text;
  throw new Problem("usage", { what: `--until takes ok or failed, not ${text}` });
}

// src/cli/walking/walk-names.ts
async function walkNames(context, names, wishes) {
  const { terminal } = context;
  const environments = context.options.env?.split(",").map((name) => name.trim()) ?? [void 0];
  const several = environments.length > 1;
  const matrix = wishes.matrix || several ? makeMatrix(shortText) : void 0;
  const all = [];
  for (const environment of environments) {
    const own = await opened(context, wishes, { environment });
    const plans = await planNames(own.workspace, names, wishes);
    own.workspace.checkSettings(plans.flatMap(({ takes }) => takes));
    all.push({ ...own, plans });
  }
  let status = 0;
  for (const own of all) {
    if (context.signal.aborted) break;
    const { settings, environment } = own.workspace;
    if (several && !terminal.json) terminal.note(terminal.err.bold(`environment ${environment.name}`));
    const { rows, atOnce, repeat, every, until } = wishes;
    const options = { rows, atOnce, repeat, every, until };
    const order = { names, environment: environment.name, settings, options };
    const walking = { ...own, wishes, matrix, environment: several ? environment.name : void 0 };
    status = worse(status, await walkAhead(walking, order, context));
    if (several) matrix?.ended(environment.name);
  }
  tellMatrix(matrix, context, context.redactor()?.hide ?? ((text) => text));
  return status;
}

// src/cli/commands/run.ts
var { configure } = {
  configure(command, run) {
    command.argument("[names...]", "trails, requests, or folders of them, walked one after the other");
    runOptions2(command).action(
      run(async (context, names, options) => {
        const wishes = runWishes(options, names);
        if (wishes.undo !== void 0) return undoEarlier(context, wishes.undo, wishes);
        const earlier2 = wishes.resume ?? wishes.failedOf;
        if (earlier2 !== void 0) return walkEarlier(context, earlier2, wishes);
        return walkNames(context, names, wishes);
      })
    );
    examples(command, [
      ["run berth-stay", "a trail of the collection"],
      ["run berth-stay --set imo=9000031 --json", "for another vessel, a line of JSON an event"],
      ["run vessels/show berths/free", "two requests, with their expectations"],
      ["run lights-audit --env fleet --matrix", "many hosts by what is checked, and every deviation"],
      ["run --resume last", "go on with the last run, where it was interrupted or killed"]
    ]);
  }
};
export {
  configure
};
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvcnVuL21hdHJpeC50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9ydW4vbmFtZXMudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvcnVuL29wZW4tcnVuLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL2pvdXJuYWwvYmVmb3JlLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL2pvdXJuYWwvbGluZXMudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvY2xvc2luZy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC91bmRvaW5nLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3J1bi91bmRvLXJ1bi50cyIsICIuLi8uLi8uLi9zcmMvY2xpL3ZpZXcvcnVuLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvdmlldy9ydW4tZG9jdW1lbnRzLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvd2Fsa2luZy9hY2NlcHRpbmcudHMiLCAiLi4vLi4vLi4vc3JjL2NsaS93YWxraW5nL29wZW5lZC50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9ydW4vYWhlYWQudHMiLCAiLi4vLi4vLi4vc3JjL2NsaS92aWV3L3J1bi1zdW1tYXJ5LnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvd2Fsa2luZy93YWxrLXBsYW5zLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3RhbGx5LnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3dhbGstcm93cy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC93YWxrLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvd2Fsa2luZy9saXZlLXZpZXcudHMiLCAiLi4vLi4vLi4vc3JjL2NsaS93YWxraW5nL3JlcG9ydGVyLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvd2Fsa2luZy93YWxrLWFoZWFkLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvd2Fsa2luZy9lYXJsaWVyLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvd2Fsa2luZy9vcHRpb25zLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvd2Fsa2luZy93YWxrLW5hbWVzLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvY29tbWFuZHMvcnVuLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogTWFueSBob3N0cyBieSBtYW55IGNoZWNrczogd2hhdCBlYWNoIHN0ZXAgY2FtZSB0byBmb3IgZWFjaCwgYW5kIHdoZXJlIGFuIGFuc3dlciB3YXMgbm90IGFzIGV4cGVjdGVkLiAqL1xuaW1wb3J0IHR5cGUgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUgfSBmcm9tICcuLi8uLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB0eXBlIHsgU3RlcEV2ZW50LCBXYWxrRXZlbnQgfSBmcm9tICcuLi9ldmVudHMuanMnO1xuXG5leHBvcnQgdHlwZSBDZWxsU3RhdGUgPSAnb2snIHwgJ2ZhaWxlZCcgfCAndW5yZWFjaGFibGUnIHwgJ3NraXBwZWQnIHwgJyc7XG5cbmV4cG9ydCBpbnRlcmZhY2UgU3ViamVjdCB7XG4gIC8qKiBUaGUgaG9zdDogYSByb3cncyBsYWJlbCwgb3IgYW4gZW52aXJvbm1lbnQuICovXG4gIHJlYWRvbmx5IG5hbWU6IHN0cmluZztcbiAgcmVhZG9ubHkgY2VsbHM6IFJlYWRvbmx5TWFwPHN0cmluZywgQ2VsbFN0YXRlPjtcbn1cblxuZXhwb3J0IGludGVyZmFjZSBEZXZpYXRpb24ge1xuICByZWFkb25seSBzdWJqZWN0OiBzdHJpbmc7XG4gIHJlYWRvbmx5IGNoZWNrOiBzdHJpbmc7XG4gIHJlYWRvbmx5IHBsYWNlOiBzdHJpbmc7XG4gIHJlYWRvbmx5IGV4cGVjdGVkOiBzdHJpbmc7XG4gIHJlYWRvbmx5IGZvdW5kOiBzdHJpbmc7XG4gIC8qKiBUaGUgZXhjaGFuZ2UgaW4gd2hpY2ggaXQgd2FzIGZvdW5kOyBlbXB0eSB3aGVyZSB0aGVyZSB3YXMgbm9uZS4gKi9cbiAgcmVhZG9ubHkgZWNobzogc3RyaW5nO1xufVxuXG5leHBvcnQgaW50ZXJmYWNlIE1hdHJpeCB7XG4gIC8qKiBOYW1lcyBvZiBzdGVwcywgaW4gdGhlIG9yZGVyIGluIHdoaWNoIHRoZXkgZmlyc3QgY2FtZS4gKi9cbiAgcmVhZG9ubHkgY2hlY2tzOiByZWFkb25seSBzdHJpbmdbXTtcbiAgcmVhZG9ubHkgc3ViamVjdHM6IHJlYWRvbmx5IFN1YmplY3RbXTtcbiAgcmVhZG9ubHkgZGV2aWF0aW9uczogcmVhZG9ubHkgRGV2aWF0aW9uW107XG59XG5cbi8qKiBEZXZpYXRpb25zIGJleW9uZCB0aGVzZSBhcmUgY291bnRlZCBvbmx5IGJ5IHRoZSBzdGVwcyB0aGF0IGZhaWxlZC4gKi9cbmNvbnN0IG1vc3REZXZpYXRpb25zID0gNTAwMDtcblxuZXhwb3J0IGludGVyZmFjZSBNYXRyaXhNYWtlciB7XG4gIC8qKiBAcGFyYW0gZW52aXJvbm1lbnQgaW4gZnJvbnQgb2Ygd2hhdCBoYXBwZW5zLCB3aGVyZSB0aGVyZSBhcmUgc2V2ZXJhbCAqL1xuICB0YWtlKGV2ZW50OiBXYWxrRXZlbnQsIGVudmlyb25tZW50OiBzdHJpbmcgfCB1bmRlZmluZWQpOiB2b2lkO1xuICAvKiogVGhlIHdhbGsgb2YgYW4gZW52aXJvbm1lbnQgd2l0aG91dCByb3dzIGhhcyBlbmRlZC4gKi9cbiAgZW5kZWQoZW52aXJvbm1lbnQ6IHN0cmluZyk6IHZvaWQ7XG4gIC8qKiBBbiBlbnZpcm9ubWVudCB3aG9zZSBob3N0IGlzIG5vdCB0aGVyZS4gKi9cbiAgbWlzc2luZyhlbnZpcm9ubWVudDogc3RyaW5nLCBwcm9ibGVtOiBQcm9ibGVtKTogdm9pZDtcbiAgbWF0cml4KCk6IE1hdHJpeDtcbn1cblxuLyoqIEBwYXJhbSBzaG93biB3cml0ZXMgYSB2YWx1ZSBhcyBpdCBpcyB0b2xkICovXG5leHBvcnQgZnVuY3Rpb24gbWFrZU1hdHJpeChzaG93bjogKHZhbHVlOiBWYWx1ZSB8IHVuZGVmaW5lZCkgPT4gc3RyaW5nKTogTWF0cml4TWFrZXIge1xuICBjb25zdCBjaGVja3MgPSBuZXcgU2V0PHN0cmluZz4oKTtcbiAgY29uc3QgZW52aXJvbm1lbnRzOiBzdHJpbmdbXSA9IFtdO1xuICBjb25zdCBzdWJqZWN0czoge1xuICAgIGVudmlyb25tZW50OiBudW1iZXI7XG4gICAgcm93OiBudW1iZXI7XG4gICAgbmFtZTogc3RyaW5nO1xuICAgIGNlbGxzOiBNYXA8c3RyaW5nLCBDZWxsU3RhdGU+O1xuICAgIGRldmlhdGlvbnM6IERldmlhdGlvbltdO1xuICB9W10gPSBbXTtcbiAgY29uc3Qgb3BlbiA9IG5ldyBNYXA8bnVtYmVyLCB7IGNlbGxzOiBNYXA8c3RyaW5nLCBDZWxsU3RhdGU+OyBkZXZpYXRpb25zOiBPbWl0PERldmlhdGlvbiwgJ3N1YmplY3QnPltdIH0+KCk7XG4gIGxldCB0b2xkID0gMDtcblxuICBmdW5jdGlvbiBzdGVwKGV2ZW50OiBTdGVwRXZlbnQpOiB2b2lkIHtcbiAgICBjb25zdCByb3cgPSBldmVudC5yb3cgPz8gMDtcbiAgICBsZXQgb3duID0gb3Blbi5nZXQocm93KTtcbiAgICBpZiAoIW93bikge1xuICAgICAgb3duID0geyBjZWxsczogbmV3IE1hcCgpLCBkZXZpYXRpb25zOiBbXSB9O1xuICAgICAgb3Blbi5zZXQocm93LCBvd24pO1xuICAgIH1cbiAgICAvLyBTdGVwcyBpbnNpZGUgb3RoZXJzIGFyZSB0b2xkIGJ5IHRob3NlLlxuICAgIGlmIChldmVudC5kZXB0aCA9PT0gMCkge1xuICAgICAgY2hlY2tzLmFkZChldmVudC5sYWJlbCk7XG4gICAgICBvd24uY2VsbHMuc2V0KGV2ZW50LmxhYmVsLCBzdGF0ZU9mKGV2ZW50KSk7XG4gICAgfVxuICAgIGZvciAoY29uc3QgZGV2aWF0aW9uIG9mIGRldmlhdGlvbnNPZihldmVudCwgc2hvd24pKSB7XG4gICAgICBpZiAodG9sZCA+PSBtb3N0RGV2aWF0aW9ucykgcmV0dXJuO1xuICAgICAgdG9sZCArPSAxO1xuICAgICAgb3duLmRldmlhdGlvbnMucHVzaChkZXZpYXRpb24pO1xuICAgIH1cbiAgfVxuXG4gIGZ1bmN0aW9uIGNsb3NlKHJvdzogbnVtYmVyLCBuYW1lOiBzdHJpbmcsIGVudmlyb25tZW50OiBzdHJpbmcpOiB2b2lkIHtcbiAgICBpZiAoIWVudmlyb25tZW50cy5pbmNsdWRlcyhlbnZpcm9ubWVudCkpIGVudmlyb25tZW50cy5wdXNoKGVudmlyb25tZW50KTtcbiAgICBjb25zdCBvd24gPSBvcGVuLmdldChyb3cpID8/IHsgY2VsbHM6IG5ldyBNYXAoKSwgZGV2aWF0aW9uczogW10gfTtcbiAgICBvcGVuLmRlbGV0ZShyb3cpO1xuICAgIGNvbnN0IGRldmlhdGlvbnMgPSBvd24uZGV2aWF0aW9ucy5tYXAoKG9uZSkgPT4gKHsgc3ViamVjdDogbmFtZSwgLi4ub25lIH0pKTtcbiAgICBzdWJqZWN0cy5wdXNoKHsgZW52aXJvbm1lbnQ6IGVudmlyb25tZW50cy5pbmRleE9mKGVudmlyb25tZW50KSwgcm93LCBuYW1lLCBjZWxsczogb3duLmNlbGxzLCBkZXZpYXRpb25zIH0pO1xuICB9XG5cbiAgcmV0dXJuIHtcbiAgICB0YWtlKGV2ZW50LCBlbnZpcm9ubWVudCkge1xuICAgICAgaWYgKGV2ZW50LmV2ZW50ID09PSAnc3RlcCcpIHN0ZXAoZXZlbnQpO1xuICAgICAgZWxzZSBpZiAoZXZlbnQuZXZlbnQgPT09ICdyb3cnKVxuICAgICAgICBjbG9zZShldmVudC5yb3csIFtlbnZpcm9ubWVudCwgZXZlbnQubGFiZWxdLmZpbHRlcihCb29sZWFuKS5qb2luKCcgJyksIGVudmlyb25tZW50ID8/ICcnKTtcbiAgICB9LFxuICAgIGVuZGVkKGVudmlyb25tZW50KSB7XG4gICAgICBpZiAob3Blbi5oYXMoMCkpIGNsb3NlKDAsIGVudmlyb25tZW50LCBlbnZpcm9ubWVudCk7XG4gICAgfSxcbiAgICBtaXNzaW5nKGVudmlyb25tZW50LCBwcm9ibGVtKSB7XG4gICAgICBvcGVuLnNldCgwLCB7IGNlbGxzOiBuZXcgTWFwKCksIGRldmlhdGlvbnM6IFtzaWxlbmNlKCcnLCBwcm9ibGVtKV0gfSk7XG4gICAgICBjbG9zZSgwLCBlbnZpcm9ubWVudCwgZW52aXJvbm1lbnQpO1xuICAgIH0sXG4gICAgbWF0cml4KCkge1xuICAgICAgY29uc3Qgc29ydGVkID0gWy4uLnN1YmplY3RzXS5zb3J0KChhLCBiKSA9PiBhLmVudmlyb25tZW50IC0gYi5lbnZpcm9ubWVudCB8fCBhLnJvdyAtIGIucm93KTtcbiAgICAgIHJldHVybiB7XG4gICAgICAgIGNoZWNrczogWy4uLmNoZWNrc10sXG4gICAgICAgIHN1YmplY3RzOiBzb3J0ZWQubWFwKCh7IG5hbWUsIGNlbGxzIH0pID0+ICh7IG5hbWUsIGNlbGxzIH0pKSxcbiAgICAgICAgZGV2aWF0aW9uczogc29ydGVkLmZsYXRNYXAoKHsgZGV2aWF0aW9ucyB9KSA9PiBkZXZpYXRpb25zKSxcbiAgICAgIH07XG4gICAgfSxcbiAgfTtcbn1cblxuZnVuY3Rpb24gc3RhdGVPZih7IHN0YXRlLCBwcm9ibGVtcyB9OiBTdGVwRXZlbnQpOiBDZWxsU3RhdGUge1xuICBpZiAoc3RhdGUgIT09ICdmYWlsZWQnKSByZXR1cm4gc3RhdGU7XG4gIHJldHVybiBwcm9ibGVtcy5zb21lKCh7IGZhbWlseSB9KSA9PiBmYW1pbHkgPT09ICduby1hbnN3ZXInKSA/ICd1bnJlYWNoYWJsZScgOiAnZmFpbGVkJztcbn1cblxuZnVuY3Rpb24qIGRldmlhdGlvbnNPZihcbiAgeyBsYWJlbDogY2hlY2ssIHNlbnQsIHRvbGQsIHByb2JsZW1zIH06IFN0ZXBFdmVudCxcbiAgc2hvd246ICh2YWx1ZTogVmFsdWUgfCB1bmRlZmluZWQpID0+IHN0cmluZyxcbik6IEdlbmVyYXRvcjxPbWl0PERldmlhdGlvbiwgJ3N1YmplY3QnPj4ge1xuICBjb25zdCBlY2hvID0gc2VudD8uZWNobyA/PyAnJztcbiAgZm9yIChjb25zdCB7IHBsYWNlLCBleHBlY3RlZCA9ICcnLCBmb3VuZCA9ICcnLCBkZXZpYXRpb25zIH0gb2YgKHNlbnQ/LnZlcmRpY3RzID8/IFtdKS5maWx0ZXIoKHsgb2sgfSkgPT4gIW9rKSkge1xuICAgIGlmICghZGV2aWF0aW9ucyB8fCBkZXZpYXRpb25zLmxlbmd0aCA9PT0gMCkgeWllbGQgeyBjaGVjaywgcGxhY2UsIGV4cGVjdGVkLCBmb3VuZCwgZWNobyB9O1xuICAgIGVsc2Uge1xuICAgICAgZm9yIChjb25zdCB7IGF0LCBsZWZ0LCByaWdodCB9IG9mIGRldmlhdGlvbnMpXG4gICAgICAgIHlpZWxkIHsgY2hlY2ssIHBsYWNlOiBhdCwgZXhwZWN0ZWQ6IHNob3duKGxlZnQpLCBmb3VuZDogc2hvd24ocmlnaHQpLCBlY2hvIH07XG4gICAgfVxuICB9XG4gIGZvciAoY29uc3QgeyBhdCwgbGVmdCwgcmlnaHQgfSBvZiB0b2xkPy5kaWZmZXJlbmNlcyA/PyBbXSlcbiAgICB5aWVsZCB7IGNoZWNrLCBwbGFjZTogYXQsIGV4cGVjdGVkOiBzaG93bihsZWZ0KSwgZm91bmQ6IHNob3duKHJpZ2h0KSwgZWNobyB9O1xuICBjb25zdCBbc2lsZW50XSA9IHByb2JsZW1zLmZpbHRlcigoeyBmYW1pbHkgfSkgPT4gZmFtaWx5ID09PSAnbm8tYW5zd2VyJyk7XG4gIGlmIChzaWxlbnQpIHlpZWxkIHsgLi4uc2lsZW5jZShjaGVjaywgc2lsZW50KSwgZWNobyB9O1xufVxuXG5jb25zdCBzaWxlbmNlID0gKGNoZWNrOiBzdHJpbmcsIHsgd2hhdCB9OiBQcm9ibGVtKTogT21pdDxEZXZpYXRpb24sICdzdWJqZWN0Jz4gPT4gKHtcbiAgY2hlY2ssXG4gIHBsYWNlOiAnYW5zd2VyJyxcbiAgZXhwZWN0ZWQ6ICdhbiBhbnN3ZXInLFxuICBmb3VuZDogd2hhdCxcbiAgZWNobzogJycsXG59KTtcbiIsICIvKiogV2hhdCBpcyB0byBiZSB3YWxrZWQsIGJ5IG5hbWU6IHRyYWlscywgcmVxdWVzdHMsIGFuZCBmb2xkZXJzIG9mIHRoZW0uICovXG5pbXBvcnQgeyBuZWFyZXN0SGludCB9IGZyb20gJy4uLy4uL3Byb2JsZW0vbmVhcmVzdC5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHR5cGUgUGxhbldpc2hlcywgcGxhblRyYWlsLCByZXF1ZXN0QXNUcmFpbCB9IGZyb20gJy4uL3BsYW4uanMnO1xuaW1wb3J0IHR5cGUgeyBUcmFpbFBsYW4gfSBmcm9tICcuLi9zdGVwLWtpbmQuanMnO1xuaW1wb3J0IHR5cGUgeyBXb3Jrc3BhY2UgfSBmcm9tICcuLi93b3Jrc3BhY2UuanMnO1xuXG4vKipcbiAqIEFsbCBpcyByZWFkIGJlZm9yZSB0aGUgZmlyc3Qgc3RlcCBpcyB0YWtlbi4gQSB0cmFpbCBvZiB0aGF0IG5hbWUgd2lucyBvdmVyIGEgcmVxdWVzdC5cbiAqIEB0aHJvd3MgUHJvYmxlbSBuYW1lLW5vdC1mb3VuZCwgbmFtZS1hbWJpZ3VvdXMsIGFuZCBhYm91dCBhbnl0aGluZyBpbiB0aGUgZmlsZXNcbiAqL1xuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIHBsYW5OYW1lcyhcbiAgd29ya3NwYWNlOiBXb3Jrc3BhY2UsXG4gIG5hbWVzOiByZWFkb25seSBzdHJpbmdbXSxcbiAgd2lzaGVzOiBQbGFuV2lzaGVzID0ge30sXG4pOiBQcm9taXNlPFRyYWlsUGxhbltdPiB7XG4gIGNvbnN0IHBsYW5zOiBUcmFpbFBsYW5bXSA9IFtdO1xuICBmb3IgKGNvbnN0IG5hbWUgb2YgbmFtZXMpIHBsYW5zLnB1c2goLi4uKGF3YWl0IHBsYW5OYW1lKHdvcmtzcGFjZSwgbmFtZSwgd2lzaGVzKSkpO1xuICByZXR1cm4gcGxhbnM7XG59XG5cbmFzeW5jIGZ1bmN0aW9uIHBsYW5OYW1lKHdvcmtzcGFjZTogV29ya3NwYWNlLCBuYW1lOiBzdHJpbmcsIHdpc2hlczogUGxhbldpc2hlcyk6IFByb21pc2U8VHJhaWxQbGFuW10+IHtcbiAgY29uc3QgeyBjb2xsZWN0aW9uIH0gPSB3b3Jrc3BhY2U7XG4gIGNvbnN0IGtub3duID0gKGtpbmQ6ICd0cmFpbCcgfCAncmVxdWVzdCcpOiBib29sZWFuID0+IHtcbiAgICB0cnkge1xuICAgICAgY29sbGVjdGlvbi5yZXNvbHZlKGtpbmQsIG5hbWUpO1xuICAgICAgcmV0dXJuIHRydWU7XG4gICAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICAgIGlmIChlcnJvciBpbnN0YW5jZW9mIFByb2JsZW0gJiYgZXJyb3IuY29kZSA9PT0gJ25hbWUtYW1iaWd1b3VzJykgdGhyb3cgZXJyb3I7XG4gICAgICByZXR1cm4gZmFsc2U7XG4gICAgfVxuICB9O1xuICBpZiAoa25vd24oJ3RyYWlsJykpIHJldHVybiBbYXdhaXQgcGxhblRyYWlsKHdvcmtzcGFjZSwgbmFtZSwgd2lzaGVzKV07XG4gIGlmIChrbm93bigncmVxdWVzdCcpKSByZXR1cm4gW2F3YWl0IHJlcXVlc3RBc1RyYWlsKHdvcmtzcGFjZSwgYXdhaXQgd29ya3NwYWNlLnByZXBhcmUobmFtZSksIHdpc2hlcyldO1xuICBjb25zdCBmb2xkZXIgPSBgJHtuYW1lLnJlcGxhY2UoL14oPzp0cmFpbHN8cmVxdWVzdHMpXFwvLywgJycpLnJlcGxhY2UoL1xcLyQvLCAnJyl9L2A7XG4gIGNvbnN0IGluRm9sZGVyID0gKGtpbmQ6ICd0cmFpbCcgfCAncmVxdWVzdCcpOiBzdHJpbmdbXSA9PlxuICAgIGNvbGxlY3Rpb25cbiAgICAgIC5uYW1lcyhraW5kKVxuICAgICAgLmZpbHRlcigob25lKSA9PiBvbmUuc3RhcnRzV2l0aChmb2xkZXIpKVxuICAgICAgLnNvcnQoKTtcbiAgY29uc3QgYmVsb3cgPSBpbkZvbGRlcigndHJhaWwnKTtcbiAgY29uc3QgcGxhbnM6IFRyYWlsUGxhbltdID0gW107XG4gIGZvciAoY29uc3QgdHJhaWwgb2YgYmVsb3cpIHBsYW5zLnB1c2goYXdhaXQgcGxhblRyYWlsKHdvcmtzcGFjZSwgdHJhaWwsIHdpc2hlcykpO1xuICBpZiAoYmVsb3cubGVuZ3RoID09PSAwKSB7XG4gICAgZm9yIChjb25zdCByZXF1ZXN0IG9mIGluRm9sZGVyKCdyZXF1ZXN0JykpXG4gICAgICBwbGFucy5wdXNoKGF3YWl0IHJlcXVlc3RBc1RyYWlsKHdvcmtzcGFjZSwgYXdhaXQgd29ya3NwYWNlLnByZXBhcmUocmVxdWVzdCksIHdpc2hlcykpO1xuICB9XG4gIGlmIChwbGFucy5sZW5ndGggPiAwKSByZXR1cm4gcGxhbnM7XG4gIHRocm93IG5ldyBQcm9ibGVtKCduYW1lLW5vdC1mb3VuZCcsIHtcbiAgICB3aGF0OiBgdGhlcmUgaXMgbmVpdGhlciBhIHRyYWlsIG5vciBhIHJlcXVlc3QgJHtuYW1lfSwgbm9yIGEgZm9sZGVyIG9mIHRoZW1gLFxuICAgIHJlbWVkeTogbmVhcmVzdEhpbnQobmFtZSwgWy4uLmNvbGxlY3Rpb24ubmFtZXMoJ3RyYWlsJyksIC4uLmNvbGxlY3Rpb24ubmFtZXMoJ3JlcXVlc3QnKV0pLFxuICB9KTtcbn1cbiIsICIvKiogQSBydW46IHdoYXQgd2FzIGFza2VkIGZvciwgaXRzIGpvdXJuYWwsIGFuZCB3aGF0IGFuIGVhcmxpZXIgY29tbWFuZCBsZWZ0IG9mIGl0LiAqL1xuaW1wb3J0IHsgY3JlYXRlSGFzaCB9IGZyb20gJ25vZGU6Y3J5cHRvJztcbmltcG9ydCB7IGpvaW4gfSBmcm9tICdub2RlOnBhdGgnO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBzZWFsaW5nIH0gZnJvbSAnLi4vLi4vc3RvcmFnZS9zZWFsaW5nLmpzJztcbmltcG9ydCB7IHR5cGUgQmVmb3JlLCByZWFkSm91cm5hbCB9IGZyb20gJy4uL2pvdXJuYWwvYmVmb3JlLmpzJztcbmltcG9ydCB7IHR5cGUgSm91cm5hbCwgam91cm5hbEZvbGRlciwgb3BlbkpvdXJuYWwgfSBmcm9tICcuLi9qb3VybmFsL2pvdXJuYWwuanMnO1xuaW1wb3J0IHR5cGUgeyBKb3VybmFsTGluZSwgUGFydCwgUnVuT3B0aW9ucyB9IGZyb20gJy4uL2pvdXJuYWwvbGluZXMuanMnO1xuaW1wb3J0IHsgdHlwZSBSZWNvcmRlciwgcmVjb3JkZXIgfSBmcm9tICcuLi9qb3VybmFsL3JlY29yZGVkLmpzJztcbmltcG9ydCB0eXBlIHsgVHJhaWxQbGFuIH0gZnJvbSAnLi4vc3RlcC1raW5kLmpzJztcbmltcG9ydCB0eXBlIHsgV29ya3NwYWNlIH0gZnJvbSAnLi4vd29ya3NwYWNlLmpzJztcblxuLyoqIFdoYXQgYSBydW4gaXMgZ29uZSBvbiB3aXRoIGJ5OiBhcyBpdCB3YXMgYXNrZWQgZm9yLiAqL1xuZXhwb3J0IGludGVyZmFjZSBSdW5PcmRlciB7XG4gIHJlYWRvbmx5IG5hbWVzOiByZWFkb25seSBzdHJpbmdbXTtcbiAgcmVhZG9ubHkgZW52aXJvbm1lbnQ6IHN0cmluZztcbiAgcmVhZG9ubHkgc2V0dGluZ3M6IFJlYWRvbmx5TWFwPHN0cmluZywgc3RyaW5nPjtcbiAgcmVhZG9ubHkgb3B0aW9uczogUnVuT3B0aW9ucztcbn1cblxuLyoqIFdobyB3b3JrcyBvbiBpdCwgc28gdGhhdCBubyB0d28gZG8uICovXG5leHBvcnQgaW50ZXJmYWNlIFdvcmtlciB7XG4gIHJlYWRvbmx5IHByb2Nlc3M6IG51bWJlcjtcbiAgLyoqIFdoZXRoZXIgdGhhdCBwcm9jZXNzIGlzIHN0aWxsIHRoZXJlLiAqL1xuICByZWFkb25seSBhbGl2ZTogKHByb2Nlc3M6IG51bWJlcikgPT4gYm9vbGVhbjtcbn1cblxuLyoqIFJlYWRzIHdoYXQgaXMga25vd24gb2YgYSBydW4uIEBwYXJhbSBob21lIHRoZSB1c2VyJ3Mgb3duIGZvbGRlciwgd2l0aCB0aGUga2V5IG9mIHdoYXQgaXMgc2VhbGVkIEB0aHJvd3MgUHJvYmxlbSAqL1xuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIGVhcmxpZXJSdW4oXG4gIGxvY2FsOiBzdHJpbmcsXG4gIGhvbWU6IHN0cmluZyxcbiAgcnVuOiBzdHJpbmcsXG4gIHJlZGFjdG9yOiBXb3Jrc3BhY2VbJ3JlZGFjdG9yJ10sXG4pOiBQcm9taXNlPHsgcmVhZG9ubHkgb3JkZXI6IFJ1bk9yZGVyOyByZWFkb25seSBiZWZvcmU6IEJlZm9yZSB9PiB7XG4gIGNvbnN0IHNlYWxzID0gYXdhaXQgc2VhbGluZyhob21lKTtcbiAgY29uc3QgYmVmb3JlID0gYXdhaXQgcmVhZEpvdXJuYWwoam91cm5hbEZvbGRlcihsb2NhbCksIHJ1biwgcmVjb3JkZXIoc2VhbHMsIHJlZGFjdG9yKSk7XG4gIGNvbnN0IHsgbmFtZXMsIGVudmlyb25tZW50LCBzZXR0aW5ncywgb3B0aW9ucyB9ID0gYmVmb3JlLmhlYWRlcjtcbiAgcmV0dXJuIHtcbiAgICBiZWZvcmUsXG4gICAgb3JkZXI6IHtcbiAgICAgIG5hbWVzLFxuICAgICAgZW52aXJvbm1lbnQsXG4gICAgICBzZXR0aW5nczogbmV3IE1hcChKU09OLnBhcnNlKHNlYWxzLm9wZW4oc2V0dGluZ3MpKSBhcyBbc3RyaW5nLCBzdHJpbmddW10pLFxuICAgICAgb3B0aW9ucyxcbiAgICB9LFxuICB9O1xufVxuXG4vKiogQHRocm93cyBQcm9ibGVtIHVzYWdlOiBhbm90aGVyIHByb2Nlc3MgaXMgYXQgaXQgKi9cbmV4cG9ydCBmdW5jdGlvbiBkZW1hbmRJZGxlKHsgcHJvY2VzcywgaGVhZGVyIH06IEJlZm9yZSwgeyBhbGl2ZSB9OiBXb3JrZXIpOiB2b2lkIHtcbiAgaWYgKCFhbGl2ZShwcm9jZXNzKSkgcmV0dXJuO1xuICB0aHJvdyBuZXcgUHJvYmxlbSgndXNhZ2UnLCB7XG4gICAgd2hhdDogYHJ1biAke2hlYWRlci5ydW59IGlzIHN0aWxsIHVuZGVyIHdheSwgaW4gcHJvY2VzcyAke3Byb2Nlc3N9YCxcbiAgICByZW1lZHk6ICd3YWl0IHVudGlsIGl0IGhhcyBlbmRlZCwgb3IgZW5kIGl0JyxcbiAgfSk7XG59XG5cbmNvbnN0IGRpZ2VzdE9mID0gKHBsYW5zOiByZWFkb25seSBUcmFpbFBsYW5bXSk6IHN0cmluZyA9PlxuICBjcmVhdGVIYXNoKCdzaGEyNTYnKVxuICAgIC51cGRhdGUocGxhbnMubWFwKCh7IHRleHQgfSkgPT4gdGV4dCkuam9pbignXFwwJykpXG4gICAgLmRpZ2VzdCgnaGV4Jyk7XG5cbi8qKlxuICogQHBhcmFtIHBsYW5zIHVuZGVmaW5lZCB3aGVyZSBub3RoaW5nIGlzIHdhbGtlZCBAcGFyYW0gYmVmb3JlIG9mIHRoZSBydW4gdGhhdCBpcyBnb25lIG9uIHdpdGhcbiAqIEB0aHJvd3MgUHJvYmxlbSB1c2FnZTogaXRzIHRyYWlscyBhcmUgbm90IHdoYXQgdGhleSB3ZXJlXG4gKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiBvcGVuUnVuKFxuICB3b3Jrc3BhY2U6IFdvcmtzcGFjZSxcbiAgaG9tZTogc3RyaW5nLFxuICBwbGFuczogcmVhZG9ubHkgVHJhaWxQbGFuW10gfCB1bmRlZmluZWQsXG4gIG9yZGVyOiBSdW5PcmRlcixcbiAgeyBwcm9jZXNzIH06IFdvcmtlcixcbiAgYmVmb3JlPzogQmVmb3JlLFxuKTogUHJvbWlzZTxKb3VybmFsPiB7XG4gIGNvbnN0IHsgY29sbGVjdGlvbiwgbG9nLCByZWRhY3RvciB9ID0gd29ya3NwYWNlO1xuICBjb25zdCBzZWFscyA9IGF3YWl0IHNlYWxpbmcoaG9tZSk7XG4gIGNvbnN0IHJlY29yZDogUmVjb3JkZXIgPSByZWNvcmRlcihzZWFscywgcmVkYWN0b3IpO1xuICBjb25zdCBhdCA9IG5ldyBEYXRlKCkudG9JU09TdHJpbmcoKTtcbiAgY29uc3QgZGlnZXN0ID0gcGxhbnMgJiYgZGlnZXN0T2YocGxhbnMpO1xuICBpZiAoYmVmb3JlKSB7XG4gICAgY29uc3QgeyBydW4gfSA9IGJlZm9yZS5oZWFkZXI7XG4gICAgaWYgKGRpZ2VzdCAhPT0gdW5kZWZpbmVkICYmIGJlZm9yZS5oZWFkZXIuZGlnZXN0ICE9PSBkaWdlc3QpIHtcbiAgICAgIHRocm93IG5ldyBQcm9ibGVtKCd1c2FnZScsIHtcbiAgICAgICAgd2hhdDogYHRoZSB0cmFpbHMgb2YgcnVuICR7cnVufSB3ZXJlIGNoYW5nZWQgc2luY2U6IGl0IGNhbm5vdCBiZSBnb25lIG9uIHdpdGhgLFxuICAgICAgICByZW1lZHk6IGBlY2hvLXRyYWlsIHJ1biAtLWZhaWxlZC1vZiAke3J1bn0gd2Fsa3Mgd2hhdCBmYWlsZWQgb2YgaXQsIGVjaG8tdHJhaWwgcnVuIC0tdW5kbyAke3J1bn0gdGFrZXMgYmFjayB3aGF0IGl0IG1hZGVgLFxuICAgICAgfSk7XG4gICAgfVxuICAgIGNvbnN0IGZpcnN0ID0geyBsaW5lOiAncmVzdW1lZCcsIHJ1bjogbG9nLnJ1biwgYXQsIHByb2Nlc3MgfSBhcyBjb25zdDtcbiAgICByZXR1cm4gb3BlbkpvdXJuYWwoeyBwYXRoOiBiZWZvcmUucGF0aCwgcnVuLCByZWNvcmRlcjogcmVjb3JkLCBmaXJzdCwgYmVmb3JlIH0pO1xuICB9XG4gIGNvbnN0IGZpcnN0OiBKb3VybmFsTGluZSA9IHtcbiAgICBsaW5lOiAncnVuJyxcbiAgICBydW46IGxvZy5ydW4sXG4gICAgYXQsXG4gICAgcHJvY2VzcyxcbiAgICBlbnZpcm9ubWVudDogb3JkZXIuZW52aXJvbm1lbnQsXG4gICAgbmFtZXM6IFsuLi5vcmRlci5uYW1lc10sXG4gICAgc2V0dGluZ3M6IHNlYWxzLnNlYWwoSlNPTi5zdHJpbmdpZnkoWy4uLm9yZGVyLnNldHRpbmdzXSkpLFxuICAgIG9wdGlvbnM6IG9yZGVyLm9wdGlvbnMsXG4gICAgZGlnZXN0OiBkaWdlc3QgPz8gJycsXG4gIH07XG4gIGNvbnN0IHBhdGggPSBqb2luKGpvdXJuYWxGb2xkZXIoY29sbGVjdGlvbi5sb2NhbCksIGAke2F0LnJlcGxhY2UoL1stOi5dL2csICcnKX0tJHtsb2cucnVufS5qc29ubGApO1xuICByZXR1cm4gb3BlbkpvdXJuYWwoeyBwYXRoLCBydW46IGxvZy5ydW4sIHJlY29yZGVyOiByZWNvcmQsIGZpcnN0LCBiZWZvcmU6IHVuZGVmaW5lZCB9KTtcbn1cblxuLyoqIFdoYXQgZmFpbGVkIG9mIGEgcnVuOiBvZiBwbGFucyB3aXRoIHJvd3MgdGhvc2UgdGhhdCBkaWQsIG9mIG90aGVycyB0aGUgd2hvbGUuICovXG5leHBvcnQgZnVuY3Rpb24gZmFpbGVkUGFydHMocGxhbnM6IHJlYWRvbmx5IFRyYWlsUGxhbltdLCB7IGZhaWxlZCwgd2Fsa3MgfTogQmVmb3JlKTogUGFydFtdIHtcbiAgLy8gQSBydW4gdGhhdCB3YXMgcmVwZWF0ZWQgd2Fsa2VkIGVhY2ggcGxhbiBzZXZlcmFsIHRpbWVzLlxuICBjb25zdCBpc09mID0gKHdhbGs6IG51bWJlciwgcGxhbjogbnVtYmVyKTogYm9vbGVhbiA9PiB3YWxrICUgcGxhbnMubGVuZ3RoID09PSBwbGFuO1xuICByZXR1cm4gcGxhbnMubWFwKCh7IHJvd3MgfSwgcGxhbik6IFBhcnQgPT4ge1xuICAgIGNvbnN0IG93biA9IFsuLi5uZXcgU2V0KGZhaWxlZC5maWx0ZXIoKHsgd2FsayB9KSA9PiBpc09mKHdhbGssIHBsYW4pKS5tYXAoKHsgcm93IH0pID0+IHJvdykpXTtcbiAgICBpZiAocm93cykgcmV0dXJuIG93bi5sZW5ndGggPT09IDAgPyAnbm9uZScgOiBvd247XG4gICAgcmV0dXJuIFsuLi53YWxrc10uc29tZSgoW3dhbGssIG9rXSkgPT4gIW9rICYmIGlzT2Yod2FsaywgcGxhbikpID8gJ2FsbCcgOiAnbm9uZSc7XG4gIH0pO1xufVxuIiwgIi8qKiBSZWFkaW5nIHRoZSBqb3VybmFsIG9mIGEgcnVuOiB3aGF0IGlzIGtub3duIG9mIGl0IGJ5IG5vdy4gKi9cbmltcG9ydCB7IHJlYWRkaXJTeW5jIH0gZnJvbSAnbm9kZTpmcyc7XG5pbXBvcnQgeyBqb2luIH0gZnJvbSAnbm9kZTpwYXRoJztcbmltcG9ydCB0eXBlIHsgQnJpZWZQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9icmllZi5qcyc7XG5pbXBvcnQgeyBuZWFyZXN0SGludCB9IGZyb20gJy4uLy4uL3Byb2JsZW0vbmVhcmVzdC5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IGpzb25MaW5lcyB9IGZyb20gJy4uLy4uL3N0b3JhZ2UvanNvbi1saW5lcy5qcyc7XG5pbXBvcnQgdHlwZSB7IFZhbHVlIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgdHlwZSB7IEtlcHROYW1lIH0gZnJvbSAnLi4vc3RlcC1raW5kLmpzJztcbmltcG9ydCB0eXBlIHsgQXJtZWQgfSBmcm9tICcuL2pvdXJuYWwuanMnO1xuaW1wb3J0IHsgdHlwZSBKb3VybmFsTGluZSwgam91cm5hbExpbmUgfSBmcm9tICcuL2xpbmVzLmpzJztcbmltcG9ydCB7IHByb2JsZW1Gcm9tLCB0eXBlIFJlY29yZGVyIH0gZnJvbSAnLi9yZWNvcmRlZC5qcyc7XG5cbmV4cG9ydCBpbnRlcmZhY2UgS25vd25TdGVwIHtcbiAgLyoqIGB1bmRlciB3YXlgOiBhIGNoYW5naW5nIGNhbGwgbGVmdCwgb3Igd2FzIGFib3V0IHRvLCBhbmQgbm90aGluZyBpcyBrbm93biBvZiBpdHMgYW5zd2VyLiAqL1xuICByZWFkb25seSBzdGF0ZTogJ2RvbmUnIHwgJ2ZhaWxlZCcgfCAndW5kZXIgd2F5JztcbiAgcmVhZG9ubHkga2VwdDogcmVhZG9ubHkgS2VwdE5hbWVbXTtcbiAgLyoqIFdoYXQgaXRzIGFuc3dlciBsZWZ0IGluIHRoZSBjb2x1bW5zIG9mIGEgdGFibGUuICovXG4gIHJlYWRvbmx5IGNlbGxzOiByZWFkb25seSBLZXB0TmFtZVtdO1xuICByZWFkb25seSBwcm9ibGVtOiBQcm9ibGVtIHwgdW5kZWZpbmVkO1xuICAvKiogT2Ygb25lIHRoYXQgaXMgdW5kZXIgd2F5OiBpdHMgbWV0aG9kIGFuZCBhZGRyZXNzLCBhbmQgaXRzIGlkZW1wb3RlbmN5IGtleS4gKi9cbiAgcmVhZG9ubHkgY2FsbDogc3RyaW5nO1xuICByZWFkb25seSBrZXk6IHN0cmluZyB8IHVuZGVmaW5lZDtcbn1cblxuZXhwb3J0IGludGVyZmFjZSBGYWlsZWRSb3cge1xuICByZWFkb25seSByb3c6IG51bWJlcjtcbiAgcmVhZG9ubHkgbGFiZWw6IHN0cmluZztcbiAgcmVhZG9ubHkgcHJvYmxlbTogQnJpZWZQcm9ibGVtO1xufVxuXG5leHBvcnQgaW50ZXJmYWNlIEJlZm9yZSB7XG4gIHJlYWRvbmx5IHBhdGg6IHN0cmluZztcbiAgcmVhZG9ubHkgaGVhZGVyOiBFeHRyYWN0PEpvdXJuYWxMaW5lLCB7IGxpbmU6ICdydW4nIH0+O1xuICAvKiogVGhlIHByb2Nlc3MgdGhhdCB3b3JrZWQgb24gaXQgbGFzdC4gKi9cbiAgcmVhZG9ubHkgcHJvY2VzczogbnVtYmVyO1xuICAvKiogT2Ygcm93cyB0aGF0IGRpZCBub3QgY29tZSB0byB0aGVpciBlbmQsIGJ5IHJvdyBhbmQgYnkgd2hlcmUgdGhleSBzdGFuZC4gKi9cbiAgcmVhZG9ubHkgc3RlcHM6IFJlYWRvbmx5TWFwPHN0cmluZywgUmVhZG9ubHlNYXA8c3RyaW5nLCBLbm93blN0ZXA+PjtcbiAgcmVhZG9ubHkgY2VsbHM6IFJlYWRvbmx5TWFwPHN0cmluZywgVmFsdWU+O1xuICAvKiogV2hldGhlciBlYWNoIHJvdyB0aGF0IGNhbWUgdG8gaXRzIGVuZCBkaWQgc28gd2VsbCwgYnkgd2Fsay4gKi9cbiAgcmVhZG9ubHkgcm93czogUmVhZG9ubHlNYXA8bnVtYmVyLCBSZWFkb25seU1hcDxudW1iZXIsIGJvb2xlYW4+PjtcbiAgcmVhZG9ubHkgZmFpbGVkOiByZWFkb25seSAoRmFpbGVkUm93ICYgeyByZWFkb25seSB3YWxrOiBudW1iZXIgfSlbXTtcbiAgLyoqIENoYW5naW5nIGNhbGxzIHdob3NlIGFuc3dlciB3YXMgbG9zdC4gKi9cbiAgcmVhZG9ubHkgZG91YnRzOiByZWFkb25seSB7IHJlYWRvbmx5IHdhbGs6IG51bWJlcjsgcmVhZG9ubHkgY2FsbDogc3RyaW5nIH1bXTtcbiAgLyoqIEtleXMgb2YgaXRlbXMgdGhhdCBvbmNlLWJ5IHBhc3NlcyBvdmVyLCBieSB0aGUgc3RlcCB0aGF0IGdvZXMgdGhyb3VnaCB0aGVtLiAqL1xuICByZWFkb25seSBoYW5kbGVkOiBSZWFkb25seU1hcDxzdHJpbmcsIFJlYWRvbmx5U2V0PHN0cmluZz4+O1xuICByZWFkb25seSB3YWxrczogUmVhZG9ubHlNYXA8bnVtYmVyLCBib29sZWFuPjtcbiAgLyoqIFdoYXQgY2FuIGJlIHRha2VuIGJhY2ssIHRoZSBvbGRlc3QgZmlyc3QuICovXG4gIHJlYWRvbmx5IGFybWVkOiBSZWFkb25seU1hcDxzdHJpbmcsIEFybWVkPjtcbiAgcmVhZG9ubHkgdW5kb25lOiBSZWFkb25seVNldDxzdHJpbmc+O1xufVxuXG4vKiogQHRocm93cyBQcm9ibGVtIGVjaG8tbm90LWZvdW5kLCBkYXRhLXNoYXBlICovXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gcmVhZEpvdXJuYWwoZm9sZGVyOiBzdHJpbmcsIHJ1bjogc3RyaW5nLCByZWNvcmRlcjogUmVjb3JkZXIpOiBQcm9taXNlPEJlZm9yZT4ge1xuICBjb25zdCBwYXRoID0gam9pbihmb2xkZXIsIGZpbGVPZihmb2xkZXIsIHJ1bikpO1xuICBjb25zdCBzdGVwcyA9IG5ldyBNYXA8c3RyaW5nLCBNYXA8c3RyaW5nLCBLbm93blN0ZXA+PigpO1xuICBjb25zdCBjZWxscyA9IG5ldyBNYXA8c3RyaW5nLCBWYWx1ZT4oKTtcbiAgY29uc3Qgcm93cyA9IG5ldyBNYXA8bnVtYmVyLCBNYXA8bnVtYmVyLCBib29sZWFuPj4oKTtcbiAgY29uc3QgZmFpbGVkOiAoRmFpbGVkUm93ICYgeyB3YWxrOiBudW1iZXIgfSlbXSA9IFtdO1xuICBjb25zdCBkb3VidHM6IHsgd2FsazogbnVtYmVyOyBjYWxsOiBzdHJpbmcgfVtdID0gW107XG4gIGNvbnN0IGhhbmRsZWQgPSBuZXcgTWFwPHN0cmluZywgU2V0PHN0cmluZz4+KCk7XG4gIGNvbnN0IHdhbGtzID0gbmV3IE1hcDxudW1iZXIsIGJvb2xlYW4+KCk7XG4gIGNvbnN0IGFybWVkID0gbmV3IE1hcDxzdHJpbmcsIEFybWVkPigpO1xuICBjb25zdCB1bmRvbmUgPSBuZXcgU2V0PHN0cmluZz4oKTtcbiAgbGV0IGhlYWRlcjogQmVmb3JlWydoZWFkZXInXSB8IHVuZGVmaW5lZDtcbiAgbGV0IHByb2Nlc3MgPSAwO1xuICBjb25zdCBzdGVwID0gKGF0OiBzdHJpbmcsIGtub3duOiBLbm93blN0ZXApOiB2b2lkID0+IHtcbiAgICBjb25zdCBncm91cCA9IGF0LnNwbGl0KCcvJywgMSlbMF0gYXMgc3RyaW5nO1xuICAgIGNvbnN0IG90aGVycyA9IHN0ZXBzLmdldChncm91cCk7XG4gICAgaWYgKG90aGVycykgb3RoZXJzLnNldChhdCwga25vd24pO1xuICAgIGVsc2Ugc3RlcHMuc2V0KGdyb3VwLCBuZXcgTWFwKFtbYXQsIGtub3duXV0pKTtcbiAgfTtcbiAgZm9yIGF3YWl0IChjb25zdCBsaW5lIG9mIGxpbmVzT2YocGF0aCkpIHtcbiAgICBzd2l0Y2ggKGxpbmUubGluZSkge1xuICAgICAgY2FzZSAncnVuJzpcbiAgICAgICAgaGVhZGVyID0gbGluZTtcbiAgICAgICAgcHJvY2VzcyA9IGxpbmUucHJvY2VzcztcbiAgICAgICAgYnJlYWs7XG4gICAgICBjYXNlICdyZXN1bWVkJzpcbiAgICAgICAgcHJvY2VzcyA9IGxpbmUucHJvY2VzcztcbiAgICAgICAgYnJlYWs7XG4gICAgICBjYXNlICdsZWF2aW5nJzpcbiAgICAgICAgc3RlcChsaW5lLmF0LCB7IHN0YXRlOiAndW5kZXIgd2F5Jywga2VwdDogW10sIGNlbGxzOiBbXSwgcHJvYmxlbTogdW5kZWZpbmVkLCBjYWxsOiBsaW5lLmNhbGwsIGtleTogbGluZS5rZXkgfSk7XG4gICAgICAgIGJyZWFrO1xuICAgICAgY2FzZSAnc3RlcCc6XG4gICAgICAgIHN0ZXAobGluZS5hdCwge1xuICAgICAgICAgIHN0YXRlOiBsaW5lLnByb2JsZW0gPyAnZmFpbGVkJyA6ICdkb25lJyxcbiAgICAgICAgICBrZXB0OiByZWNvcmRlci5yZWFkKGxpbmUua2VwdCA/PyBbXSksXG4gICAgICAgICAgY2VsbHM6IHJlY29yZGVyLnJlYWQobGluZS5jZWxscyA/PyBbXSksXG4gICAgICAgICAgcHJvYmxlbTogbGluZS5wcm9ibGVtICYmIHByb2JsZW1Gcm9tKGxpbmUucHJvYmxlbSksXG4gICAgICAgICAgY2FsbDogJycsXG4gICAgICAgICAga2V5OiB1bmRlZmluZWQsXG4gICAgICAgIH0pO1xuICAgICAgICBicmVhaztcbiAgICAgIGNhc2UgJ2NlbGxzJzpcbiAgICAgICAgY2VsbHMuc2V0KGxpbmUuYXQsIGxpbmUuY2VsbHMgYXMgVmFsdWUpO1xuICAgICAgICBicmVhaztcbiAgICAgIGNhc2UgJ3Jvdyc6IHtcbiAgICAgICAgY29uc3Qgb2sgPSBsaW5lLnByb2JsZW0gPT09IHVuZGVmaW5lZDtcbiAgICAgICAgY29uc3Qgb2ZXYWxrID0gcm93cy5nZXQobGluZS53YWxrKTtcbiAgICAgICAgaWYgKG9mV2Fsaykgb2ZXYWxrLnNldChsaW5lLnJvdywgb2spO1xuICAgICAgICBlbHNlIHJvd3Muc2V0KGxpbmUud2FsaywgbmV3IE1hcChbW2xpbmUucm93LCBva11dKSk7XG4gICAgICAgIGlmIChsaW5lLnByb2JsZW0pXG4gICAgICAgICAgZmFpbGVkLnB1c2goeyB3YWxrOiBsaW5lLndhbGssIHJvdzogbGluZS5yb3csIGxhYmVsOiBsaW5lLmxhYmVsID8/ICcnLCBwcm9ibGVtOiBsaW5lLnByb2JsZW0gfSk7XG4gICAgICAgIHN0ZXBzLmRlbGV0ZShgJHtsaW5lLndhbGt9LiR7bGluZS5yb3d9YCk7XG4gICAgICAgIGJyZWFrO1xuICAgICAgfVxuICAgICAgY2FzZSAnYXJtZWQnOiB7XG4gICAgICAgIGNvbnN0IHsgYXQsIHN0ZXA6IG5hbWUsIHJlcXVlc3QsIHJvdywgZ2l2ZW4sIG5hbWVzIH0gPSBsaW5lO1xuICAgICAgICBhcm1lZC5zZXQoYXQsIHsgYXQsIHN0ZXA6IG5hbWUsIHJlcXVlc3QsIHJvdywgZ2l2ZW46IHJlY29yZGVyLnJlYWQoZ2l2ZW4pLCBuYW1lczogcmVjb3JkZXIucmVhZChuYW1lcykgfSk7XG4gICAgICAgIGJyZWFrO1xuICAgICAgfVxuICAgICAgY2FzZSAndW5kb25lJzpcbiAgICAgICAgaWYgKGxpbmUuc3RhdGUgPT09ICdkb25lJyB8fCBsaW5lLnN0YXRlID09PSAnbm90IG5lZWRlZCcpIHVuZG9uZS5hZGQobGluZS5hdCk7XG4gICAgICAgIGJyZWFrO1xuICAgICAgY2FzZSAnaGFuZGxlZCc6IHtcbiAgICAgICAgY29uc3Qga2V5cyA9IGhhbmRsZWQuZ2V0KGxpbmUud2hlcmUpO1xuICAgICAgICBpZiAoa2V5cykga2V5cy5hZGQobGluZS5rZXkpO1xuICAgICAgICBlbHNlIGhhbmRsZWQuc2V0KGxpbmUud2hlcmUsIG5ldyBTZXQoW2xpbmUua2V5XSkpO1xuICAgICAgICBicmVhaztcbiAgICAgIH1cbiAgICAgIGNhc2UgJ2RvdWJ0JzpcbiAgICAgICAgZG91YnRzLnB1c2goeyB3YWxrOiBsaW5lLndhbGssIGNhbGw6IGxpbmUuY2FsbCB9KTtcbiAgICAgICAgYnJlYWs7XG4gICAgICBjYXNlICd3YWxrJzpcbiAgICAgICAgd2Fsa3Muc2V0KGxpbmUud2FsaywgbGluZS5vayk7XG4gICAgfVxuICB9XG4gIGlmICghaGVhZGVyKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ2RhdGEtc2hhcGUnLCB7XG4gICAgICB3aGF0OiBgdGhlIGpvdXJuYWwgb2YgcnVuICR7cnVufSBoYXMgbm8gYmVnaW5uaW5nYCxcbiAgICAgIHdoZXJlOiB7IGZpbGU6IHBhdGggfSxcbiAgICAgIHJlbWVkeTogJ3RoZSBydW4gd2FzIGtpbGxlZCBiZWZvcmUgaXRzIGZpcnN0IHN0ZXA6IHJ1biBpdCBhZ2FpbicsXG4gICAgfSk7XG4gIH1cbiAgcmV0dXJuIHsgcGF0aCwgaGVhZGVyLCBwcm9jZXNzLCBzdGVwcywgY2VsbHMsIHJvd3MsIGZhaWxlZCwgZG91YnRzLCBoYW5kbGVkLCB3YWxrcywgYXJtZWQsIHVuZG9uZSB9O1xufVxuXG4vKiogVGhlIG5ld2VzdCBmaXJzdC4gKi9cbmZ1bmN0aW9uIHJlY29yZGVkSm91cm5hbHMoZm9sZGVyOiBzdHJpbmcpOiB7IHJlYWRvbmx5IHJ1bjogc3RyaW5nOyByZWFkb25seSBmaWxlOiBzdHJpbmcgfVtdIHtcbiAgbGV0IGZpbGVzOiBzdHJpbmdbXTtcbiAgdHJ5IHtcbiAgICBmaWxlcyA9IHJlYWRkaXJTeW5jKGZvbGRlcik7XG4gIH0gY2F0Y2gge1xuICAgIHJldHVybiBbXTtcbiAgfVxuICByZXR1cm4gZmlsZXNcbiAgICAuZmlsdGVyKChmaWxlKSA9PiBmaWxlLmVuZHNXaXRoKCcuanNvbmwnKSlcbiAgICAuc29ydCgpXG4gICAgLnJldmVyc2UoKVxuICAgIC5tYXAoKGZpbGUpID0+ICh7IGZpbGUsIHJ1bjogZmlsZS5yZXBsYWNlKC9eLiotfFxcLmpzb25sJC9nLCAnJykgfSkpO1xufVxuXG5mdW5jdGlvbiBmaWxlT2YoZm9sZGVyOiBzdHJpbmcsIHJ1bjogc3RyaW5nKTogc3RyaW5nIHtcbiAgY29uc3QgYWxsID0gcmVjb3JkZWRKb3VybmFscyhmb2xkZXIpO1xuICBjb25zdCBmb3VuZCA9IHJ1biA9PT0gJ2xhc3QnID8gYWxsWzBdIDogYWxsLmZpbmQoKG9uZSkgPT4gb25lLnJ1biA9PT0gcnVuKTtcbiAgaWYgKGZvdW5kKSByZXR1cm4gZm91bmQuZmlsZTtcbiAgdGhyb3cgbmV3IFByb2JsZW0oJ2VjaG8tbm90LWZvdW5kJywge1xuICAgIHdoYXQ6IHJ1biA9PT0gJ2xhc3QnID8gJ25vIHJ1biBpcyByZWNvcmRlZCB5ZXQnIDogYHRoZXJlIGlzIG5vIHJ1biAke3J1bn1gLFxuICAgIHJlbWVkeTpcbiAgICAgIGFsbC5sZW5ndGggPT09IDBcbiAgICAgICAgPyAnZWNoby10cmFpbCBydW4gcmVjb3JkcyB3aGF0IGl0IHdhbGtzJ1xuICAgICAgICA6IG5lYXJlc3RIaW50KFxuICAgICAgICAgICAgcnVuLFxuICAgICAgICAgICAgYWxsLnNsaWNlKDAsIDIwKS5tYXAoKG9uZSkgPT4gb25lLnJ1biksXG4gICAgICAgICAgKSxcbiAgICBkYXRhOiB7IHJ1biB9LFxuICB9KTtcbn1cblxuYXN5bmMgZnVuY3Rpb24qIGxpbmVzT2YocGF0aDogc3RyaW5nKTogQXN5bmNHZW5lcmF0b3I8Sm91cm5hbExpbmU+IHtcbiAgZm9yIGF3YWl0IChjb25zdCBsaW5lIG9mIGpzb25MaW5lcyhwYXRoKSkge1xuICAgIGNvbnN0IHJlc3VsdCA9IGpvdXJuYWxMaW5lLnNhZmVQYXJzZShsaW5lKTtcbiAgICBpZiAocmVzdWx0LnN1Y2Nlc3MpIHlpZWxkIHJlc3VsdC5kYXRhO1xuICB9XG59XG4iLCAiLyoqIFRoZSBsaW5lcyBvZiBhIHJ1bidzIGpvdXJuYWw6IG9uZSBKU09OIG9iamVjdCBlYWNoLCBhcHBlbmRlZCBhcyBpdCBoYXBwZW5zLiAqL1xuaW1wb3J0ICogYXMgeiBmcm9tICd6b2QvbWluaSc7XG5pbXBvcnQgeyBicmllZlByb2JsZW0gfSBmcm9tICcuLi8uLi9wcm9ibGVtL2JyaWVmLmpzJztcblxuLyoqIFdoYXQgb2YgZWFjaCBwbGFuIGlzIHdhbGtlZDogYWxsIG9mIGl0LCBub25lIG9mIGl0LCBvciBvbmx5IHRoZXNlIHJvd3MuICovXG5jb25zdCBwYXJ0ID0gei51bmlvbihbei5saXRlcmFsKCdhbGwnKSwgei5saXRlcmFsKCdub25lJyksIHouYXJyYXkoei5udW1iZXIoKSldKTtcbmV4cG9ydCB0eXBlIFBhcnQgPSB6LmluZmVyPHR5cGVvZiBwYXJ0PjtcblxuY29uc3QgcnVuT3B0aW9ucyA9IHouc3RyaWN0T2JqZWN0KHtcbiAgcm93czogei5vcHRpb25hbCh6LnN0cmluZygpKSxcbiAgYXRPbmNlOiB6Lm9wdGlvbmFsKHoubnVtYmVyKCkpLFxuICAvKiogSG93IG9mdGVuIGFsbCBpcyB3YWxrZWQ7IG5vdGhpbmcgZm9yIGFzIGxvbmcgYXMgbm9ib2R5IGVuZHMgaXQuICovXG4gIHJlcGVhdDogei5vcHRpb25hbCh6Lm51bWJlcigpKSxcbiAgLyoqIE1pbGxpc2Vjb25kcyBmcm9tIG9uZSBiZWdpbm5pbmcgdG8gdGhlIG5leHQuICovXG4gIGV2ZXJ5OiB6Lm51bWJlcigpLFxuICB1bnRpbDogei5vcHRpb25hbCh6LmVudW0oWydvaycsICdmYWlsZWQnXSkpLFxuICAvKiogQnkgcGxhbjsgYWxsIG9mIGV2ZXJ5IHBsYW4gd2hlcmUgbm90aGluZyBpcyBzYWlkLiAqL1xuICBwYXJ0czogei5vcHRpb25hbCh6LmFycmF5KHBhcnQpKSxcbn0pO1xuZXhwb3J0IHR5cGUgUnVuT3B0aW9ucyA9IHouaW5mZXI8dHlwZW9mIHJ1bk9wdGlvbnM+O1xuXG4vKiogVmFsdWVzIGJ5IG5hbWU6IGluIHRoZSBvcGVuLCBvciwgd2hlcmUgdGhleSBob2xkIGFueXRoaW5nIHNlY3JldCwgc2VhbGVkIHdpdGggdGhlIHVzZXIncyBrZXkuICovXG5jb25zdCBrZXB0ID0gei5hcnJheShcbiAgei5zdHJpY3RPYmplY3Qoe1xuICAgIG5hbWU6IHouc3RyaW5nKCksXG4gICAgb3JpZ2luOiB6LnN0cmluZygpLFxuICAgIHZhbHVlOiB6Lm9wdGlvbmFsKHouYW55KCkpLFxuICAgIHNlYWxlZDogei5vcHRpb25hbCh6LnN0cmluZygpKSxcbiAgICAvKiogSXQgaXMga25vd24gdG8gYmUgc2VjcmV0IGJ5IGl0cyBkZWNsYXJhdGlvbiwgYW5kIG5vdCBvbmx5IGJ5IHdoYXQgaXQgaG9sZHMuICovXG4gICAgc2VjcmV0OiB6Lm9wdGlvbmFsKHouYm9vbGVhbigpKSxcbiAgfSksXG4pO1xuZXhwb3J0IHR5cGUgUmVjb3JkZWROYW1lcyA9IHouaW5mZXI8dHlwZW9mIGtlcHQ+O1xuXG5jb25zdCBhdCA9IHouc3RyaW5nKCk7XG5jb25zdCB1bmRvU3RhdGVzID0gei5lbnVtKFsnZG9uZScsICdmYWlsZWQnLCAnbm90IG5lZWRlZCcsICdpbXBvc3NpYmxlJ10pO1xuXG5leHBvcnQgY29uc3Qgam91cm5hbExpbmUgPSB6LmRpc2NyaW1pbmF0ZWRVbmlvbignbGluZScsIFtcbiAgLyoqIFRoZSBmaXJzdDogd2hhdCB3YXMgYXNrZWQgZm9yLiAqL1xuICB6LnN0cmljdE9iamVjdCh7XG4gICAgbGluZTogei5saXRlcmFsKCdydW4nKSxcbiAgICBydW46IHouc3RyaW5nKCksXG4gICAgYXQ6IHouc3RyaW5nKCksXG4gICAgLyoqIE9mIHRoZSBwcm9jZXNzLCB3aGljaCBtYXkgc3RpbGwgYmUgYXQgaXQuICovXG4gICAgcHJvY2Vzczogei5udW1iZXIoKSxcbiAgICBlbnZpcm9ubWVudDogei5zdHJpbmcoKSxcbiAgICBuYW1lczogei5hcnJheSh6LnN0cmluZygpKSxcbiAgICAvKiogQnkgYC0tc2V0YCwgc2VhbGVkLiAqL1xuICAgIHNldHRpbmdzOiB6LnN0cmluZygpLFxuICAgIG9wdGlvbnM6IHJ1bk9wdGlvbnMsXG4gICAgLyoqIFNIQS0yNTYgb2YgdGhlIHRyYWlscyB0aGF0IGFyZSB3YWxrZWQuICovXG4gICAgZGlnZXN0OiB6LnN0cmluZygpLFxuICB9KSxcbiAgei5zdHJpY3RPYmplY3QoeyBsaW5lOiB6LmxpdGVyYWwoJ3Jlc3VtZWQnKSwgcnVuOiB6LnN0cmluZygpLCBhdDogei5zdHJpbmcoKSwgcHJvY2Vzczogei5udW1iZXIoKSB9KSxcbiAgLyoqIEEgY2FsbCB0aGF0IGNoYW5nZXMgc29tZXRoaW5nIGlzIGFib3V0IHRvIGxlYXZlLiAqL1xuICB6LnN0cmljdE9iamVjdCh7XG4gICAgbGluZTogei5saXRlcmFsKCdsZWF2aW5nJyksXG4gICAgYXQsXG4gICAgcm93OiB6Lm9wdGlvbmFsKHoubnVtYmVyKCkpLFxuICAgIGNhbGw6IHouc3RyaW5nKCksXG4gICAga2V5OiB6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLFxuICB9KSxcbiAgei5zdHJpY3RPYmplY3Qoe1xuICAgIGxpbmU6IHoubGl0ZXJhbCgnc3RlcCcpLFxuICAgIGF0LFxuICAgIGVjaG86IHoub3B0aW9uYWwoei5zdHJpbmcoKSksXG4gICAga2VwdDogei5vcHRpb25hbChrZXB0KSxcbiAgICAvKiogV2hhdCBpdHMgYW5zd2VyIGxlYXZlcyBpbiB0aGUgY29sdW1ucyBvZiBhIHRhYmxlLiAqL1xuICAgIGNlbGxzOiB6Lm9wdGlvbmFsKGtlcHQpLFxuICAgIHByb2JsZW06IHoub3B0aW9uYWwoYnJpZWZQcm9ibGVtKSxcbiAgfSksXG4gIC8qKiBXaGF0IGEgcm93IGxlYXZlcyBpbiBpdHMgdGFibGUuICovXG4gIHouc3RyaWN0T2JqZWN0KHsgbGluZTogei5saXRlcmFsKCdjZWxscycpLCBhdCwgY2VsbHM6IHouYW55KCkgfSksXG4gIHouc3RyaWN0T2JqZWN0KHtcbiAgICBsaW5lOiB6LmxpdGVyYWwoJ3JvdycpLFxuICAgIC8qKiBXaGljaCBvZiB0aGUgd2Fsa3Mgb2YgdGhlIGNvbW1hbmQuICovXG4gICAgd2Fsazogei5udW1iZXIoKSxcbiAgICByb3c6IHoubnVtYmVyKCksXG4gICAgbGFiZWw6IHoub3B0aW9uYWwoei5zdHJpbmcoKSksXG4gICAgcHJvYmxlbTogei5vcHRpb25hbChicmllZlByb2JsZW0pLFxuICB9KSxcbiAgei5zdHJpY3RPYmplY3Qoe1xuICAgIGxpbmU6IHoubGl0ZXJhbCgnYXJtZWQnKSxcbiAgICBhdCxcbiAgICBzdGVwOiB6LnN0cmluZygpLFxuICAgIHJlcXVlc3Q6IHouc3RyaW5nKCksXG4gICAgcm93OiB6Lm9wdGlvbmFsKHoubnVtYmVyKCkpLFxuICAgIGdpdmVuOiBrZXB0LFxuICAgIC8qKiBOYW1lcyB0aGF0IHRoZSBlbnZpcm9ubWVudCBtYXkgd2FudCwgc3VjaCBhcyB0aG9zZSBvZiB0aGUgcm93LiAqL1xuICAgIG5hbWVzOiBrZXB0LFxuICB9KSxcbiAgei5zdHJpY3RPYmplY3QoeyBsaW5lOiB6LmxpdGVyYWwoJ3VuZG9uZScpLCBhdCwgc3RhdGU6IHVuZG9TdGF0ZXMsIHByb2JsZW06IHoub3B0aW9uYWwoYnJpZWZQcm9ibGVtKSB9KSxcbiAgLyoqIEFuIGl0ZW0gdGhhdCBvbmNlLWJ5IHBhc3NlcyBvdmVyIGZyb20gbm93IG9uLiAqL1xuICB6LnN0cmljdE9iamVjdCh7IGxpbmU6IHoubGl0ZXJhbCgnaGFuZGxlZCcpLCB3aGVyZTogei5zdHJpbmcoKSwga2V5OiB6LnN0cmluZygpIH0pLFxuICB6LnN0cmljdE9iamVjdCh7IGxpbmU6IHoubGl0ZXJhbCgnZG91YnQnKSwgd2Fsazogei5udW1iZXIoKSwgY2FsbDogei5zdHJpbmcoKSB9KSxcbiAgei5zdHJpY3RPYmplY3QoeyBsaW5lOiB6LmxpdGVyYWwoJ3dhbGsnKSwgd2Fsazogei5udW1iZXIoKSwgb2s6IHouYm9vbGVhbigpIH0pLFxuXSk7XG5leHBvcnQgdHlwZSBKb3VybmFsTGluZSA9IHouaW5mZXI8dHlwZW9mIGpvdXJuYWxMaW5lPjtcbiIsICIvKiogU2Vzc2lvbnMgYXJlIGNsb3NlZCBieSB0aGUgY29tbWFuZCB0aGF0IG9wZW5lZCB0aGVtLiAqL1xuaW1wb3J0IHsgYXNQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB0eXBlIHsgV2Fsa0V2ZW50IH0gZnJvbSAnLi9ldmVudHMuanMnO1xuaW1wb3J0IHR5cGUgeyBXb3Jrc3BhY2UgfSBmcm9tICcuL3dvcmtzcGFjZS5qcyc7XG5cbi8qKiBUaGUgbmV3ZXN0IGZpcnN0LiBXaGF0IGdvZXMgd3JvbmcgaXMgdG9sZCwgYW5kIGVuZHMgbm90aGluZy4gKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiBjbG9zZVNlc3Npb25zKHdvcmtzcGFjZTogV29ya3NwYWNlLCByZXBvcnQ6IChldmVudDogV2Fsa0V2ZW50KSA9PiB2b2lkKTogUHJvbWlzZTx2b2lkPiB7XG4gIGZvciAoY29uc3QgbmFtZSBvZiBbLi4ud29ya3NwYWNlLnNlc3Npb25zLm9wZW5lZF0pIHtcbiAgICB0cnkge1xuICAgICAgYXdhaXQgd29ya3NwYWNlLnNlc3Npb25zLmNsb3NlKG5hbWUpO1xuICAgICAgcmVwb3J0KHsgZXZlbnQ6ICdzZXNzaW9uLWNsb3NlZCcsIG5hbWUsIHByb2JsZW06IHVuZGVmaW5lZCB9KTtcbiAgICB9IGNhdGNoIChlcnJvcikge1xuICAgICAgcmVwb3J0KHsgZXZlbnQ6ICdzZXNzaW9uLWNsb3NlZCcsIG5hbWUsIHByb2JsZW06IGFzUHJvYmxlbShlcnJvcikgfSk7XG4gICAgfVxuICB9XG59XG4iLCAiLyoqIFVuZG8gcGFydHM6IGFybWVkIHdoZW4gdGhlaXIgc3RlcCBpcyBzZW50LCBydW4gbmV3ZXN0IGZpcnN0IG9uY2UgdGhlIHN0ZXBzIGhhdmUgY29tZSB0byB0aGVpciBlbmQuICovXG5pbXBvcnQgeyBhc1Byb2JsZW0sIHR5cGUgUHJvYmxlbSB9IGZyb20gJy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgdHlwZSB7IFVuZG9TdGF0ZSB9IGZyb20gJy4vZXZlbnRzLmpzJztcbmltcG9ydCB0eXBlIHsgQXJtZWRVbmRvLCBTdGVwUmVzdWx0LCBUcmFpbFBsYW4sIFdhbGsgfSBmcm9tICcuL3N0ZXAta2luZC5qcyc7XG5pbXBvcnQgeyB3YWxrU3RlcHMgfSBmcm9tICcuL3dhbGstc3RlcHMuanMnO1xuXG4vKiogQHBhcmFtIHNpZ25hbCBlbmRzIGl0IGVhcmx5OiBhIHNlY29uZCBDdHJsLUMgKi9cbmFzeW5jIGZ1bmN0aW9uIHVuZG9BbGwod2FsazogV2Fsaywgc2lnbmFsOiBBYm9ydFNpZ25hbCB8IHVuZGVmaW5lZCk6IFByb21pc2U8dm9pZD4ge1xuICBmb3IgKGNvbnN0IGFybWVkIG9mIHdhbGsudW5kby5yZXZlcnNlKCkpIGF3YWl0IHVuZG9PbmUoYXJtZWQsIHdhbGssIHNpZ25hbCk7XG59XG5cbmFzeW5jIGZ1bmN0aW9uIHVuZG9PbmUoYXJtZWQ6IEFybWVkVW5kbywgd2FsazogV2Fsaywgc2lnbmFsOiBBYm9ydFNpZ25hbCB8IHVuZGVmaW5lZCk6IFByb21pc2U8dm9pZD4ge1xuICBjb25zdCB7IHN0ZXAsIGxhYmVsLCBhdCwgcnVuIH0gPSBhcm1lZDtcbiAgY29uc3QgeyBzdGF0ZSwgc2VudCwgcHJvYmxlbSB9ID0gYXdhaXQgdW5kb1N0YXRlKHJ1biwgc2lnbmFsKTtcbiAgd2Fsay5yZXBvcnQoeyBldmVudDogJ3VuZG8nLCBsYWJlbCwgc3RlcCwgc3RhdGUsIHJvdzogd2Fsay5yb3csIHNlbnQsIHByb2JsZW0gfSk7XG4gIHdhbGsuam91cm5hbD8udW5kb25lKGF0LCBzdGF0ZSwgcHJvYmxlbSk7XG59XG5cbmV4cG9ydCBpbnRlcmZhY2UgVW5kb25lIHtcbiAgcmVhZG9ubHkgc3RhdGU6IFVuZG9TdGF0ZTtcbiAgcmVhZG9ubHkgc2VudDogU3RlcFJlc3VsdFsnc2VudCddO1xuICByZWFkb25seSBwcm9ibGVtOiBTdGVwUmVzdWx0Wydwcm9ibGVtcyddW251bWJlcl0gfCB1bmRlZmluZWQ7XG59XG5cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiB1bmRvU3RhdGUocnVuOiBBcm1lZFVuZG9bJ3J1biddLCBzaWduYWw6IEFib3J0U2lnbmFsIHwgdW5kZWZpbmVkKTogUHJvbWlzZTxVbmRvbmU+IHtcbiAgdHJ5IHtcbiAgICBjb25zdCB7IHNlbnQsIHByb2JsZW1zIH0gPSBhd2FpdCBydW4oc2lnbmFsKTtcbiAgICBjb25zdCBbcHJvYmxlbV0gPSBwcm9ibGVtcztcbiAgICAvLyBXaGF0IGlzIGdvbmUgYWxyZWFkeSBuZWVkIG5vdCBiZSB0YWtlbiBiYWNrLlxuICAgIGNvbnN0IGdvbmUgPSBzZW50Py5vdXRjb21lLnJlY2VpdmVkPy5zdGF0dXMgPT09IDQwNCB8fCBzZW50Py5vdXRjb21lLnJlY2VpdmVkPy5zdGF0dXMgPT09IDQxMDtcbiAgICByZXR1cm4geyBzdGF0ZTogcHJvYmxlbSA/IChnb25lID8gJ25vdCBuZWVkZWQnIDogJ2ZhaWxlZCcpIDogJ2RvbmUnLCBzZW50LCBwcm9ibGVtOiBnb25lID8gdW5kZWZpbmVkIDogcHJvYmxlbSB9O1xuICB9IGNhdGNoIChlcnJvcikge1xuICAgIGNvbnN0IHByb2JsZW0gPSBhc1Byb2JsZW0oZXJyb3IpO1xuICAgIGNvbnN0IG1pc3NpbmcgPSBwcm9ibGVtLmNvZGUgPT09ICdpbnB1dC1taXNzaW5nJyB8fCBwcm9ibGVtLmNvZGUgPT09ICd1bmtub3duLW5hbWUnO1xuICAgIHJldHVybiB7IHN0YXRlOiBtaXNzaW5nID8gJ2ltcG9zc2libGUnIDogJ2ZhaWxlZCcsIHNlbnQ6IHVuZGVmaW5lZCwgcHJvYmxlbSB9O1xuICB9XG59XG5cbi8qKiBXaGF0IGEgd2FsayBjYW1lIHRvLCBhbmQgd2hldGhlciBhbnl0aGluZyBvZiBpdCB3YXMgdGFrZW4gYmFjay4gKi9cbmV4cG9ydCBpbnRlcmZhY2UgV2Fsa2VkIHtcbiAgcmVhZG9ubHkgcHJvYmxlbTogUHJvYmxlbSB8IHVuZGVmaW5lZDtcbiAgcmVhZG9ubHkgdGFrZW5CYWNrOiBib29sZWFuO1xufVxuXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gd2Fsa1dpdGhVbmRvKHBsYW46IFRyYWlsUGxhbiwgd2FsazogV2FsaywgdW5kb1NpZ25hbDogQWJvcnRTaWduYWwgfCB1bmRlZmluZWQpOiBQcm9taXNlPFdhbGtlZD4ge1xuICBjb25zdCBwcm9ibGVtID0gYXdhaXQgd2Fsa1N0ZXBzKHBsYW4uc3RlcHMsIHdhbGspO1xuICBjb25zdCBkdWUgPSBwbGFuLnVuZG8gPT09ICdhbHdheXMnIHx8IChwbGFuLnVuZG8gPT09ICdmYWlsdXJlJyAmJiBwcm9ibGVtICE9PSB1bmRlZmluZWQpO1xuICAvLyBXaGVyZSBub3RoaW5nIHdhcyBzZW50LCB0aGVyZSBpcyBub3RoaW5nIHRvIHRha2UgYmFjay5cbiAgY29uc3QgdGFrZW5CYWNrID0gZHVlICYmIHdhbGsudW5kby5sZW5ndGggPiAwICYmICF3YWxrLndvcmtzcGFjZS5kcnlSdW47XG4gIGlmICh0YWtlbkJhY2spIGF3YWl0IHVuZG9BbGwod2FsaywgdW5kb1NpZ25hbCk7XG4gIHJldHVybiB7IHByb2JsZW0sIHRha2VuQmFjayB9O1xufVxuIiwgIi8qKiBgcnVuIC0tdW5kbyBSVU5gOiB0YWtlcyBiYWNrIHdoYXQgYSBydW4gbWFkZSBhbmQgZGlkIG5vdCB0YWtlIGJhY2sgaXRzZWxmLCB0aGUgbmV3ZXN0IGZpcnN0LiAqL1xuaW1wb3J0IHR5cGUgeyBOYW1lZCwgTmFtZXMgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL25hbWVzLmpzJztcbmltcG9ydCB7IGNsb3NlU2Vzc2lvbnMgfSBmcm9tICcuLi9jbG9zaW5nLmpzJztcbmltcG9ydCB0eXBlIHsgVW5kb0V2ZW50LCBXYWxrRXZlbnQgfSBmcm9tICcuLi9ldmVudHMuanMnO1xuaW1wb3J0IHR5cGUgeyBCZWZvcmUgfSBmcm9tICcuLi9qb3VybmFsL2JlZm9yZS5qcyc7XG5pbXBvcnQgdHlwZSB7IEFybWVkLCBKb3VybmFsIH0gZnJvbSAnLi4vam91cm5hbC9qb3VybmFsLmpzJztcbmltcG9ydCB7IHNlbmRSZXF1ZXN0IH0gZnJvbSAnLi4vc2VuZC5qcyc7XG5pbXBvcnQgdHlwZSB7IEtlcHROYW1lIH0gZnJvbSAnLi4vc3RlcC1raW5kLmpzJztcbmltcG9ydCB7IHVuZG9TdGF0ZSB9IGZyb20gJy4uL3VuZG9pbmcuanMnO1xuaW1wb3J0IHR5cGUgeyBXb3Jrc3BhY2UgfSBmcm9tICcuLi93b3Jrc3BhY2UuanMnO1xuXG5leHBvcnQgaW50ZXJmYWNlIFVuZG9TdW1tYXJ5IHtcbiAgcmVhZG9ubHkgcnVuOiBzdHJpbmc7XG4gIHJlYWRvbmx5IHVuZG9uZTogbnVtYmVyO1xuICAvKiogU3RpbGwgdGhlcmUsIGFzIGZhciBhcyBpcyBrbm93bi4gKi9cbiAgcmVhZG9ubHkgbm90VW5kb25lOiBudW1iZXI7XG59XG5cbi8qKiBXaGF0IGlzIGxlZnQgdG8gYmUgdGFrZW4gYmFjaywgdGhlIG5ld2VzdCBmaXJzdC4gKi9cbmV4cG9ydCBjb25zdCBsZWZ0T2YgPSAoeyBhcm1lZCwgdW5kb25lIH06IEJlZm9yZSk6IHJlYWRvbmx5IEFybWVkW10gPT5cbiAgWy4uLmFybWVkLnZhbHVlcygpXS5maWx0ZXIoKHsgYXQgfSkgPT4gIXVuZG9uZS5oYXMoYXQpKS5yZXZlcnNlKCk7XG5cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiB1bmRvUnVuKFxuICB3b3Jrc3BhY2U6IFdvcmtzcGFjZSxcbiAgYmVmb3JlOiBCZWZvcmUsXG4gIGpvdXJuYWw6IEpvdXJuYWwsXG4gIHJlcG9ydDogKGV2ZW50OiBXYWxrRXZlbnQpID0+IHZvaWQsXG4gIHNpZ25hbDogQWJvcnRTaWduYWwsXG4pOiBQcm9taXNlPFVuZG9TdW1tYXJ5PiB7XG4gIGxldCBbdW5kb25lLCBub3RVbmRvbmVdID0gWzAsIDBdO1xuICB3b3Jrc3BhY2Uub25TZXNzaW9uT3BlbmVkID0gKG5hbWUpID0+IHJlcG9ydCh7IGV2ZW50OiAnc2Vzc2lvbi1vcGVuZWQnLCBuYW1lLCBwcm9ibGVtOiB1bmRlZmluZWQgfSk7XG4gIGZvciAoY29uc3QgYXJtZWQgb2YgbGVmdE9mKGJlZm9yZSkpIHtcbiAgICBpZiAoc2lnbmFsLmFib3J0ZWQpIGJyZWFrO1xuICAgIGNvbnN0IGV2ZW50ID0gYXdhaXQgdW5kb09uZSh3b3Jrc3BhY2UsIGFybWVkLCBzaWduYWwpO1xuICAgIGpvdXJuYWwudW5kb25lKGFybWVkLmF0LCBldmVudC5zdGF0ZSwgZXZlbnQucHJvYmxlbSk7XG4gICAgcmVwb3J0KGV2ZW50KTtcbiAgICBpZiAoZXZlbnQuc3RhdGUgPT09ICdkb25lJyB8fCBldmVudC5zdGF0ZSA9PT0gJ25vdCBuZWVkZWQnKSB1bmRvbmUgKz0gMTtcbiAgICBlbHNlIG5vdFVuZG9uZSArPSAxO1xuICB9XG4gIGF3YWl0IGNsb3NlU2Vzc2lvbnMod29ya3NwYWNlLCByZXBvcnQpO1xuICB3b3Jrc3BhY2Uub25TZXNzaW9uT3BlbmVkID0gdW5kZWZpbmVkO1xuICByZXR1cm4geyBydW46IGJlZm9yZS5oZWFkZXIucnVuLCB1bmRvbmUsIG5vdFVuZG9uZSB9O1xufVxuXG5hc3luYyBmdW5jdGlvbiB1bmRvT25lKHdvcmtzcGFjZTogV29ya3NwYWNlLCBhcm1lZDogQXJtZWQsIHNpZ25hbDogQWJvcnRTaWduYWwpOiBQcm9taXNlPFVuZG9FdmVudD4ge1xuICBjb25zdCB7IHN0ZXAsIHJlcXVlc3QsIHJvdywgZ2l2ZW4sIG5hbWVzIH0gPSBhcm1lZDtcbiAgY29uc3QgdmFsdWVzID0gbmV3IE1hcChnaXZlbi5tYXAoKG9uZSkgPT4gW29uZS5uYW1lLCBvbmVdKSk7XG4gIGNvbnN0IHsgc3RhdGUsIHNlbnQsIHByb2JsZW0gfSA9IGF3YWl0IHVuZG9TdGF0ZShhc3luYyAoZW5kaW5nKSA9PiB7XG4gICAgY29uc3QgcHJlcGFyZWQgPSBhd2FpdCB3b3Jrc3BhY2UucHJlcGFyZShyZXF1ZXN0KTtcbiAgICBjb25zdCBkb25lID0gYXdhaXQgc2VuZFJlcXVlc3Qod29ya3NwYWNlLCBwcmVwYXJlZCwge1xuICAgICAgZ2l2ZW46IChpbnB1dCk6IE5hbWVkIHwgdW5kZWZpbmVkID0+IHZhbHVlcy5nZXQoaW5wdXQpLFxuICAgICAgY2FsbGVyOiBuYW1lc0Zyb21LZXB0KG5hbWVzKSxcbiAgICAgIHNpZ25hbDogZW5kaW5nLFxuICAgICAgc3RlcDogYHVuZG8gb2YgJHtzdGVwfWAsXG4gICAgICByb3csXG4gICAgfSk7XG4gICAgcmV0dXJuIHsgc2VudDogZG9uZSwga2VwdDogW10sIHByb2JsZW1zOiBkb25lLnByb2JsZW1zIH07XG4gIH0sIHNpZ25hbCk7XG4gIHJldHVybiB7IGV2ZW50OiAndW5kbycsIGxhYmVsOiByZXF1ZXN0LCBzdGVwLCBzdGF0ZSwgcm93LCBzZW50LCBwcm9ibGVtIH07XG59XG5cbmNvbnN0IG5hbWVzRnJvbUtlcHQgPSAoa2VwdDogcmVhZG9ubHkgS2VwdE5hbWVbXSk6IE5hbWVzID0+IHtcbiAgY29uc3Qga25vd24gPSBuZXcgTWFwKGtlcHQubWFwKChvbmUpID0+IFtvbmUubmFtZSwgb25lXSkpO1xuICByZXR1cm4geyBsb29rdXA6IChuYW1lKSA9PiBrbm93bi5nZXQobmFtZSksIGtub3duOiAoKSA9PiBrbm93bi5rZXlzKCksIGxheWVyczogWyd2YWx1ZXMgb2YgdGhlIHJ1biddIH07XG59O1xuIiwgIi8qKiBBIHdhbGsgaW4gd29yZHMsIHdoaWxlIGl0IGhhcHBlbnMuICovXG5pbXBvcnQgeyBzaG9ydFRleHQgfSBmcm9tICcuLi8uLi9jb3JlL21hdGNoZXIvcmVhZGluZy5qcyc7XG5pbXBvcnQgdHlwZSB7XG4gIFJvd0V2ZW50LFxuICBTdGVwRXZlbnQsXG4gIFRhYmxlRXZlbnQsXG4gIFRvbGQsXG4gIFVuZG9FdmVudCxcbiAgV2FpdEV2ZW50LFxuICBXYWxrRXZlbnQsXG59IGZyb20gJy4uLy4uL2NvcmUvdHJhaWwvZXZlbnRzLmpzJztcbmltcG9ydCB7IGR1cmF0aW9uVGV4dCB9IGZyb20gJy4uLy4uL2NvcmUvdmFsdWUvbWVhc3VyZXMuanMnO1xuaW1wb3J0IHsgY2VsbFRleHQgfSBmcm9tICcuLi8uLi9jb3JlL3ZhbHVlL3Jvd3MuanMnO1xuaW1wb3J0IHR5cGUgeyBUZXJtaW5hbCB9IGZyb20gJy4uL3Rlcm1pbmFsLmpzJztcbmltcG9ydCB7IHN0YXR1c1RleHQgfSBmcm9tICcuL2V4Y2hhbmdlLmpzJztcbmltcG9ydCB7IHByaW50YWJsZUxpbmUgfSBmcm9tICcuL3ByaW50YWJsZS5qcyc7XG5pbXBvcnQgeyB0YWJsZSB9IGZyb20gJy4vdGFibGUuanMnO1xuXG50eXBlIEhpZGUgPSAodGV4dDogc3RyaW5nKSA9PiBzdHJpbmc7XG5cbi8qKiBUaGUgbGluZXMgb2YgYW4gZXZlbnQuICovXG5leHBvcnQgZnVuY3Rpb24gZXZlbnRMaW5lcyhldmVudDogV2Fsa0V2ZW50LCB0ZXJtaW5hbDogVGVybWluYWwsIGhpZGU6IEhpZGUsIHdpZHRoID0gMCk6IHN0cmluZ1tdIHtcbiAgc3dpdGNoIChldmVudC5ldmVudCkge1xuICAgIGNhc2UgJ3N0ZXAnOlxuICAgICAgcmV0dXJuIHN0ZXBMaW5lcyhldmVudCwgdGVybWluYWwsIGhpZGUsIHdpZHRoKTtcbiAgICBjYXNlICd1bmRvJzpcbiAgICAgIHJldHVybiB1bmRvTGluZXMoZXZlbnQsIHRlcm1pbmFsLCBoaWRlKTtcbiAgICBjYXNlICdyb3cnOlxuICAgICAgcmV0dXJuIHJvd0xpbmVzKGV2ZW50LCB0ZXJtaW5hbCwgaGlkZSk7XG4gICAgY2FzZSAnc2Vzc2lvbi1vcGVuZWQnOlxuICAgICAgcmV0dXJuIFtgJHt0ZXJtaW5hbC5vdXQuZGltKCdvcGVuZWQgJyl9IHNlc3Npb24gJHtldmVudC5uYW1lfWBdO1xuICAgIGNhc2UgJ3Nlc3Npb24tY2xvc2VkJzpcbiAgICAgIHJldHVybiBldmVudC5wcm9ibGVtXG4gICAgICAgID8gW1xuICAgICAgICAgICAgYCR7dGVybWluYWwub3V0LnJlZCgnZmFpbGVkICcpfSBjbG9zaW5nIHRoZSBzZXNzaW9uICR7ZXZlbnQubmFtZX06ICR7cHJpbnRhYmxlTGluZShoaWRlKGV2ZW50LnByb2JsZW0ud2hhdCkpfWAsXG4gICAgICAgICAgXVxuICAgICAgICA6IFtgJHt0ZXJtaW5hbC5vdXQuZGltKCdjbG9zZWQgJyl9IHNlc3Npb24gJHtldmVudC5uYW1lfWBdO1xuICAgIGNhc2UgJ3dhaXRpbmcnOlxuICAgICAgcmV0dXJuIFt3YWl0VGV4dChldmVudCwgdGVybWluYWwpXTtcbiAgICBjYXNlICd0YWJsZSc6XG4gICAgICByZXR1cm4gdGFibGVMaW5lcyhldmVudCwgdGVybWluYWwsIGhpZGUpO1xuICB9XG59XG5cbi8qKiBPZiBhIHJvdyB0aGF0IGZhaWxlZCBiZWZvcmUgaXRzIGZpcnN0IHN0ZXAsIG9yIGJldHdlZW4gdHdvIG9mIHRoZW0uICovXG5mdW5jdGlvbiByb3dMaW5lcyh7IHJvdywgbGFiZWwsIHByb2JsZW0gfTogUm93RXZlbnQsIHsgb3V0IH06IFRlcm1pbmFsLCBoaWRlOiBIaWRlKTogc3RyaW5nW10ge1xuICBjb25zdCBoZWFkID0gYCR7b3V0LnJlZCgnZmFpbGVkICcpfSByb3cgJHtyb3d9ICR7b3V0LmRpbShgKCR7cHJpbnRhYmxlTGluZShoaWRlKGxhYmVsKSl9KWApfWA7XG4gIHJldHVybiBwcm9ibGVtID8gW2hlYWQsIGAgICAgICAgICR7cHJpbnRhYmxlTGluZShoaWRlKHByb2JsZW0ud2hhdCkpfWBdIDogW2hlYWRdO1xufVxuXG4vKiogV2hpY2ggb25lIG9mIG1hbnkgaXQgaXMuICovXG5mdW5jdGlvbiBtZW1iZXJUZXh0KHsgcm93LCByb3dMYWJlbCA9ICcnLCBtZW1iZXIgfTogU3RlcEV2ZW50LCB7IG91dCB9OiBUZXJtaW5hbCwgaGlkZTogSGlkZSk6IHN0cmluZyB7XG4gIGNvbnN0IGxhYmVsID0gcm93TGFiZWwgPT09ICcnID8gJycgOiBvdXQuZGltKGAgKCR7cHJpbnRhYmxlTGluZShoaWRlKHJvd0xhYmVsKSl9KWApO1xuICByZXR1cm4gYCR7cm93ID09PSB1bmRlZmluZWQgPyAnJyA6IGByb3cgJHtyb3d9JHtsYWJlbH06IGB9JHttZW1iZXIgPT09IHVuZGVmaW5lZCA/ICcnIDogYCR7bWVtYmVyfTogYH1gO1xufVxuXG5mdW5jdGlvbiBzdGVwTGluZXMoZXZlbnQ6IFN0ZXBFdmVudCwgdGVybWluYWw6IFRlcm1pbmFsLCBoaWRlOiBIaWRlLCB3aWR0aDogbnVtYmVyKTogc3RyaW5nW10ge1xuICBjb25zdCB7IG91dCB9ID0gdGVybWluYWw7XG4gIGNvbnN0IHsgbGFiZWwsIHN0YXRlLCBkZXB0aCwgc2VudCwga2VwdCwgcHJvYmxlbXMsIGtpbmQsIHRvbGQgfSA9IGV2ZW50O1xuICBjb25zdCBtYXJnaW4gPSAnICAnLnJlcGVhdChkZXB0aCk7XG4gIGNvbnN0IG1hcmsgPSB7IG9rOiBvdXQuZ3JlZW4oJ29rICAgICAnKSwgZmFpbGVkOiBvdXQucmVkKCdmYWlsZWQgJyksIHNraXBwZWQ6IG91dC5kaW0oJ3NraXBwZWQnKSB9W3N0YXRlXTtcbiAgY29uc3QgcmVjZWl2ZWQgPSBzZW50Py5vdXRjb21lLnJlY2VpdmVkO1xuICBjb25zdCB1bnNlbnQgPSBzZW50ICE9PSB1bmRlZmluZWQgJiYgcmVjZWl2ZWQgPT09IHVuZGVmaW5lZCAmJiBzZW50Lm91dGNvbWUudHJvdWJsZSA9PT0gdW5kZWZpbmVkO1xuICBjb25zdCBwYXJ0cyA9IFtcbiAgICBzZW50ICYmXG4gICAgICBgJHtvdXQuY3lhbihzZW50LndpcmUubWV0aG9kKX0gJHtyZWNlaXZlZCA/IHN0YXR1c1RleHQocmVjZWl2ZWQuc3RhdHVzLCByZWNlaXZlZC5wYXJ0cy5yZWFzb24sIG91dCwgc3RhdGUgPT09ICdvaycpIDogdW5zZW50ID8gcHJpbnRhYmxlTGluZShoaWRlKHNlbnQud2lyZS5zaG93blVybCkpIDogb3V0LnJlZCgnbm8gYW5zd2VyJyl9YCxcbiAgICByZWNlaXZlZCAmJiBvdXQuZGltKGR1cmF0aW9uVGV4dChyZWNlaXZlZC5wYXJ0cy5waGFzZXMudG90YWwpKSxcbiAgICBzZW50ICYmIHNlbnQudHJpZXMgPiAxICYmIG91dC55ZWxsb3coYCR7c2VudC50cmllc30gdHJpZXNgKSxcbiAgICBzZW50ICYmXG4gICAgICBzZW50LnZlcmRpY3RzLmxlbmd0aCA+IDAgJiZcbiAgICAgIG91dC5kaW0oYCR7c2VudC52ZXJkaWN0cy5maWx0ZXIoKHsgb2sgfSkgPT4gb2spLmxlbmd0aH0gb2YgJHtzZW50LnZlcmRpY3RzLmxlbmd0aH0gYXMgZXhwZWN0ZWRgKSxcbiAgICAuLi50b2xkVGV4dHModG9sZCwgaGlkZSkubWFwKG91dC5kaW0pLFxuICAgIGtlcHQubGVuZ3RoID4gMCAmJiBraW5kICE9PSAna2VlcCcgJiYga2luZCAhPT0gJ2Nob29zZScgJiYgb3V0LmRpbShga2VwdCAke2tlcHQuam9pbignLCAnKX1gKSxcbiAgXS5maWx0ZXIoQm9vbGVhbik7XG4gIGNvbnN0IGdhcCA9ICcgJy5yZXBlYXQoTWF0aC5tYXgoMCwgd2lkdGggLSBtYXJnaW4ubGVuZ3RoIC0gbGFiZWwubGVuZ3RoKSk7XG4gIGNvbnN0IG1vcmUgPSBwYXJ0cy5sZW5ndGggPiAwID8gYCR7Z2FwfSAgICR7cGFydHMuam9pbignICAgJyl9YCA6ICcnO1xuICBjb25zdCBsaW5lcyA9IFtgJHttYXJrfSAke21hcmdpbn0ke21lbWJlclRleHQoZXZlbnQsIHRlcm1pbmFsLCBoaWRlKX0ke291dC5ib2xkKGxhYmVsKX0ke21vcmV9YF07XG4gIGZvciAoY29uc3QgcHJvYmxlbSBvZiBwcm9ibGVtcykge1xuICAgIGxpbmVzLnB1c2goYCAgICAgICAgJHttYXJnaW59JHtwcmludGFibGVMaW5lKGhpZGUocHJvYmxlbS53aGF0KSl9YCk7XG4gICAgaWYgKHByb2JsZW0ucmVhc29uICE9PSB1bmRlZmluZWQpIGxpbmVzLnB1c2goYCAgICAgICAgJHttYXJnaW59JHtvdXQuZGltKHByaW50YWJsZUxpbmUoaGlkZShwcm9ibGVtLnJlYXNvbikpKX1gKTtcbiAgICBpZiAocHJvYmxlbS5yZW1lZHkgIT09IHVuZGVmaW5lZClcbiAgICAgIGxpbmVzLnB1c2goYCAgICAgICAgJHttYXJnaW59JHtvdXQuZGltKCd0cnknKX0gJHtwcmludGFibGVMaW5lKGhpZGUocHJvYmxlbS5yZW1lZHkpKX1gKTtcbiAgfVxuICBmb3IgKGNvbnN0IHsgYXQsIGxlZnQsIHJpZ2h0IH0gb2YgKHRvbGQ/LmRpZmZlcmVuY2VzID8/IFtdKS5zbGljZSgwLCAxMCkpXG4gICAgbGluZXMucHVzaChcbiAgICAgIGAgICAgICAgICR7bWFyZ2lufSR7b3V0LmN5YW4ocHJpbnRhYmxlTGluZShhdCkpfSAgICR7cHJpbnRhYmxlTGluZShoaWRlKHNob3J0VGV4dChsZWZ0KSkpfSAgICR7b3V0LmRpbSgnYW5kJyl9ICR7cHJpbnRhYmxlTGluZShoaWRlKHNob3J0VGV4dChyaWdodCkpKX1gLFxuICAgICk7XG4gIGNvbnN0IGZ1cnRoZXIgPSAodG9sZD8uZGlmZmVyZW5jZXM/Lmxlbmd0aCA/PyAwKSAtIDEwO1xuICBpZiAoZnVydGhlciA+IDApIGxpbmVzLnB1c2goYCAgICAgICAgJHttYXJnaW59JHtvdXQuZGltKGBhbmQgJHtmdXJ0aGVyfSBtb3JlIGRpZmZlcmVuY2VzYCl9YCk7XG4gIGlmIChwcm9ibGVtcy5sZW5ndGggPiAwICYmIHNlbnQpIGxpbmVzLnB1c2goYCAgICAgICAgJHttYXJnaW59JHtvdXQuZGltKGBlY2hvICR7c2VudC5lY2hvfWApfWApO1xuICByZXR1cm4gbGluZXM7XG59XG5cbi8qKiBXaGF0IGEgc3RlcCBoYXMgdG8gdGVsbCBiZXNpZGUgaXRzIGFuc3dlci4gKi9cbmZ1bmN0aW9uIHRvbGRUZXh0cyh0b2xkOiBUb2xkIHwgdW5kZWZpbmVkLCBoaWRlOiBIaWRlKTogc3RyaW5nW10ge1xuICBpZiAoIXRvbGQpIHJldHVybiBbXTtcbiAgY29uc3QgeyBwYWdlcywgc2VlbiwgY2hvc2VuLCBtZW1iZXJzLCB1bmtub3duIH0gPSB0b2xkO1xuICByZXR1cm4gW1xuICAgIHBhZ2VzICYmIHBhZ2VzVGV4dChwYWdlcyksXG4gICAgc2VlbiAmJlxuICAgICAgYGFza2VkICR7c2Vlbi5hc2tlZH0gJHtzZWVuLmFza2VkID09PSAxID8gJ3RpbWUnIDogJ3RpbWVzJ306ICR7cHJpbnRhYmxlTGluZShoaWRlKHNlZW4udmFsdWVzLmpvaW4oJyBcdTIxOTIgJykpKX1gLFxuICAgIGNob3NlbiAhPT0gdW5kZWZpbmVkICYmIGBjaG9zZSAke3ByaW50YWJsZUxpbmUoaGlkZShjaG9zZW4pKX1gLFxuICAgIG1lbWJlcnMgJiZcbiAgICAgIGAke21lbWJlcnMub2t9IG9mICR7bWVtYmVycy5vayArIG1lbWJlcnMuZmFpbGVkfSR7bWVtYmVycy5wYXNzZWQgPiAwID8gYCwgJHttZW1iZXJzLnBhc3NlZH0gaGFuZGxlZCBiZWZvcmVgIDogJyd9YCxcbiAgICB1bmtub3duICE9PSB1bmRlZmluZWQgJiYgYGRlcGVuZHMgb24gYW4gYW5zd2VyOiAke3ByaW50YWJsZUxpbmUoaGlkZSh1bmtub3duKSl9YCxcbiAgXS5maWx0ZXIoKHRleHQpID0+IHR5cGVvZiB0ZXh0ID09PSAnc3RyaW5nJyk7XG59XG5cbi8qKiBgNCBwYWdlcywgMTAwIGl0ZW1zYCwgb3Igd2hhdCBpcyBtaXNzaW5nLiAqL1xuZnVuY3Rpb24gcGFnZXNUZXh0KHsgcGFnZXMsIGl0ZW1zLCB0b3RhbCwgcGFydGlhbCB9OiBOb25OdWxsYWJsZTxUb2xkWydwYWdlcyddPik6IHN0cmluZyB7XG4gIGNvbnN0IGNvdW50ZWQgPSBgJHtwYWdlc30gJHtwYWdlcyA9PT0gMSA/ICdwYWdlJyA6ICdwYWdlcyd9LCBgO1xuICBpZiAocGFydGlhbCA9PT0gdW5kZWZpbmVkKSByZXR1cm4gYCR7Y291bnRlZH0ke2l0ZW1zfSAke2l0ZW1zID09PSAxID8gJ2l0ZW0nIDogJ2l0ZW1zJ31gO1xuICByZXR1cm4gYHBhcnRpYWw6ICR7Y291bnRlZH0ke2l0ZW1zfSR7dG90YWwgPT09IHVuZGVmaW5lZCA/ICcgaXRlbXMnIDogYCBvZiAke3RvdGFsfSBpdGVtc2B9ICgke3BhcnRpYWx9KWA7XG59XG5cbmZ1bmN0aW9uIHdhaXRUZXh0KHsgaG9zdCwgd2FpdCwgd2h5LCB0b2xkIH06IFdhaXRFdmVudCwgeyBvdXQgfTogVGVybWluYWwpOiBzdHJpbmcge1xuICByZXR1cm4gYCR7b3V0LnllbGxvdygnd2FpdGluZycpfSAke2hvc3R9OiAke2R1cmF0aW9uVGV4dCh3YWl0KX0gJHtvdXQuZGltKGAoJHt3aHl9OyAke3RvbGQgPyAnYXMgdGhlIHNlcnZlciBhc2tzJyA6ICd0aGUgc2VydmVyIGRvZXMgbm90IHNheSBob3cgbG9uZyd9KWApfWA7XG59XG5cbmZ1bmN0aW9uIHRhYmxlTGluZXMoeyBsYWJlbCwgY29sdW1ucywgbGluZXMsIGNvdW50LCB0bywgc2hvdyB9OiBUYWJsZUV2ZW50LCB0ZXJtaW5hbDogVGVybWluYWwsIGhpZGU6IEhpZGUpOiBzdHJpbmdbXSB7XG4gIGNvbnN0IHsgb3V0IH0gPSB0ZXJtaW5hbDtcbiAgY29uc3QgdG9sZCA9IHRvID09PSB1bmRlZmluZWQgPyBbXSA6IFtgJHtvdXQuZ3JlZW4oJ3dyb3RlICAnKX0gJHt0b30gJHtvdXQuZGltKGAoJHtjb3VudH0gcm93cyBvZiAke2xhYmVsfSlgKX1gXTtcbiAgaWYgKCFzaG93KSByZXR1cm4gdG9sZDtcbiAgY29uc3Qgc2hvd24gPSBsaW5lcy5zbGljZSgwLCA0MCk7XG4gIGNvbnN0IGhlYWRzID0gc2hvd24uc29tZSgobGluZSkgPT4gbGluZS5lcnJvciAhPT0gdW5kZWZpbmVkKSA/IFsuLi5jb2x1bW5zLCAnZXJyb3InXSA6IGNvbHVtbnM7XG4gIGNvbnN0IGNlbGxzID0gc2hvd24ubWFwKChsaW5lKSA9PiBoZWFkcy5tYXAoKG5hbWUpID0+IHByaW50YWJsZUxpbmUoaGlkZShjZWxsVGV4dChsaW5lW25hbWVdKSkpKSk7XG4gIGNvbnN0IHJlc3QgPSBjb3VudCAtIHNob3duLmxlbmd0aDtcbiAgcmV0dXJuIFtcbiAgICAnJyxcbiAgICB0YWJsZShjZWxscywgdGVybWluYWwsIHsgaGVhZDogaGVhZHMsIGluZGVudDogOCwgZmxleGlibGU6IGhlYWRzLm1hcCgoXywgaW5kZXgpID0+IGluZGV4KSB9KSxcbiAgICAuLi4ocmVzdCA+IDAgPyBbYCAgICAgICAgJHtvdXQuZGltKGBhbmQgJHtyZXN0fSBtb3JlIHJvd3NgKX1gXSA6IFtdKSxcbiAgICAnJyxcbiAgICAuLi50b2xkLFxuICBdO1xufVxuXG5mdW5jdGlvbiB1bmRvTGluZXMoeyBsYWJlbCwgc3RlcCwgc3RhdGUsIHJvdywgc2VudCwgcHJvYmxlbSB9OiBVbmRvRXZlbnQsIHsgb3V0IH06IFRlcm1pbmFsLCBoaWRlOiBIaWRlKTogc3RyaW5nW10ge1xuICBjb25zdCByZWNlaXZlZCA9IHNlbnQ/Lm91dGNvbWUucmVjZWl2ZWQ7XG4gIGNvbnN0IHN0YXR1cyA9IHJlY2VpdmVkXG4gICAgPyBgICAgJHtvdXQuY3lhbihzZW50Py53aXJlLm1ldGhvZCA/PyAnJyl9ICR7c3RhdHVzVGV4dChyZWNlaXZlZC5zdGF0dXMsIHJlY2VpdmVkLnBhcnRzLnJlYXNvbiwgb3V0KX1gXG4gICAgOiAnJztcbiAgY29uc3QgbWFyayA9XG4gICAgc3RhdGUgPT09ICdkb25lJyA/IG91dC5ncmVlbigndW5kb25lICcpIDogc3RhdGUgPT09ICdub3QgbmVlZGVkJyA/IG91dC5kaW0oJ3VuZG9uZSAnKSA6IG91dC5yZWQoJ2xlZnQgICAnKTtcbiAgY29uc3Qgc2FpZCA9IHtcbiAgICBkb25lOiAnJyxcbiAgICAnbm90IG5lZWRlZCc6ICcgICBub3QgbmVlZGVkOiBpdCBpcyBnb25lIGFscmVhZHknLFxuICAgIGZhaWxlZDogJycsXG4gICAgaW1wb3NzaWJsZTogJyAgIG5vdCB1bmRvbmU6IGEgdmFsdWUgZm9yIGl0IGlzIG1pc3NpbmcnLFxuICB9W3N0YXRlXTtcbiAgY29uc3QgbGluZXMgPSBbYCR7bWFya30gJHtyb3cgPT09IHVuZGVmaW5lZCA/ICcnIDogYHJvdyAke3Jvd306IGB9JHtvdXQuYm9sZChzdGVwKX0gYnkgJHtsYWJlbH0ke3N0YXR1c30ke3NhaWR9YF07XG4gIGlmIChwcm9ibGVtKSBsaW5lcy5wdXNoKGAgICAgICAgICR7cHJpbnRhYmxlTGluZShoaWRlKHByb2JsZW0ud2hhdCkpfWApO1xuICByZXR1cm4gbGluZXM7XG59XG4iLCAiLyoqIEEgd2FsayBmb3IgcHJvZ3JhbXM6IG9uZSBsaW5lIG9mIEpTT04gYW4gZXZlbnQuICovXG5pbXBvcnQgeyB0eXBlIEJyaWVmUHJvYmxlbSwgYnJpZWYgfSBmcm9tICcuLi8uLi9jb3JlL3Byb2JsZW0vYnJpZWYuanMnO1xuaW1wb3J0IHR5cGUgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vY29yZS9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHR5cGUgeyBTdGVwRXZlbnQsIFN1bW1hcnksIFRhYmxlRXZlbnQsIFRvbGQsIFdhbGtFdmVudCB9IGZyb20gJy4uLy4uL2NvcmUvdHJhaWwvZXZlbnRzLmpzJztcbmltcG9ydCB0eXBlIHsgTWF0cml4IH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC9ydW4vbWF0cml4LmpzJztcbmltcG9ydCB0eXBlIHsgVW5kb1N1bW1hcnkgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3J1bi91bmRvLXJ1bi5qcyc7XG5pbXBvcnQgeyBwbGFpbiwgdHlwZSBWYWx1ZSwgdHlwZSBWYWx1ZU1hcCB9IGZyb20gJy4uLy4uL2NvcmUvdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgdHlwZSB7IERvY3VtZW50cyB9IGZyb20gJy4uL2RvY3VtZW50cy5qcyc7XG5pbXBvcnQgeyBkaWZmZXJlbmNlRG9jdW1lbnQsIHZlcmRpY3REb2N1bWVudCB9IGZyb20gJy4vdmVyZGljdC1kb2N1bWVudC5qcyc7XG5cbnR5cGUgSGlkZSA9ICh0ZXh0OiBzdHJpbmcpID0+IHN0cmluZztcblxuY29uc3Qgb3JOdWxsID0gKHByb2JsZW06IFByb2JsZW0gfCB1bmRlZmluZWQpOiBCcmllZlByb2JsZW0gfCBudWxsID0+IChwcm9ibGVtID8gYnJpZWYocHJvYmxlbSkgOiBudWxsKTtcblxuY29uc3Qgcm91bmRlZCA9IChtczogbnVtYmVyKTogbnVtYmVyID0+IE1hdGgucm91bmQobXMgKiAxMDAwKSAvIDEwMDA7XG5cbnR5cGUgRXZlbnREb2N1bWVudCA9IERvY3VtZW50c1sncnVuIHN0ZXAnIHwgJ3J1biB1bmRvJyB8ICdydW4gcm93JyB8ICdydW4gc2Vzc2lvbicgfCAncnVuIHdhaXRpbmcnIHwgJ3J1biB0YWJsZSddO1xuXG5leHBvcnQgZnVuY3Rpb24gZXZlbnREb2N1bWVudChldmVudDogV2Fsa0V2ZW50LCBoaWRlOiBIaWRlKTogRXZlbnREb2N1bWVudCB7XG4gIHN3aXRjaCAoZXZlbnQuZXZlbnQpIHtcbiAgICBjYXNlICdzdGVwJzpcbiAgICAgIHJldHVybiBzdGVwRG9jdW1lbnQoZXZlbnQsIGhpZGUpO1xuICAgIGNhc2UgJ3VuZG8nOlxuICAgICAgcmV0dXJuIHtcbiAgICAgICAgZXZlbnQ6ICd1bmRvJyxcbiAgICAgICAgcmVxdWVzdDogZXZlbnQubGFiZWwsXG4gICAgICAgIHN0ZXA6IGV2ZW50LnN0ZXAsXG4gICAgICAgIHN0YXRlOiBldmVudC5zdGF0ZSxcbiAgICAgICAgcm93OiBldmVudC5yb3cgPz8gbnVsbCxcbiAgICAgICAgcHJvYmxlbTogb3JOdWxsKGV2ZW50LnByb2JsZW0pLFxuICAgICAgfTtcbiAgICBjYXNlICdyb3cnOlxuICAgICAgcmV0dXJuIHsgZXZlbnQ6ICdyb3cnLCByb3c6IGV2ZW50LnJvdywgbGFiZWw6IGV2ZW50LmxhYmVsLCBvazogZXZlbnQub2ssIHByb2JsZW06IG9yTnVsbChldmVudC5wcm9ibGVtKSB9O1xuICAgIGNhc2UgJ3Nlc3Npb24tb3BlbmVkJzpcbiAgICBjYXNlICdzZXNzaW9uLWNsb3NlZCc6XG4gICAgICByZXR1cm4geyBldmVudDogZXZlbnQuZXZlbnQsIHNlc3Npb246IGV2ZW50Lm5hbWUsIHByb2JsZW06IG9yTnVsbChldmVudC5wcm9ibGVtKSB9O1xuICAgIGNhc2UgJ3dhaXRpbmcnOlxuICAgICAgcmV0dXJuIHtcbiAgICAgICAgZXZlbnQ6ICd3YWl0aW5nJyxcbiAgICAgICAgaG9zdDogZXZlbnQuaG9zdCxcbiAgICAgICAgd2FpdDogTWF0aC5yb3VuZChldmVudC53YWl0KSxcbiAgICAgICAgd2h5OiBldmVudC53aHksXG4gICAgICAgIHRvbGQ6IGV2ZW50LnRvbGQsXG4gICAgICB9O1xuICAgIGNhc2UgJ3RhYmxlJzpcbiAgICAgIHJldHVybiB0YWJsZURvY3VtZW50KGV2ZW50KTtcbiAgfVxufVxuXG5mdW5jdGlvbiBzdGVwRG9jdW1lbnQoZXZlbnQ6IFN0ZXBFdmVudCwgaGlkZTogSGlkZSk6IERvY3VtZW50c1sncnVuIHN0ZXAnXSB7XG4gIGNvbnN0IHsgbGFiZWwsIGtpbmQsIHN0YXRlLCBkZXB0aCwgcm93LCBtZW1iZXIsIHNlbnQsIGtlcHQsIHByb2JsZW1zLCB0b2xkIH0gPSBldmVudDtcbiAgY29uc3QgcmVjZWl2ZWQgPSBzZW50Py5vdXRjb21lLnJlY2VpdmVkO1xuICBjb25zdCB2ZXJkaWN0cyA9IHNlbnQ/LnZlcmRpY3RzID8/IFtdO1xuICByZXR1cm4ge1xuICAgIGV2ZW50OiAnc3RlcCcsXG4gICAgc3RlcDogbGFiZWwsXG4gICAga2luZCxcbiAgICBzdGF0ZSxcbiAgICBkZXB0aCxcbiAgICByb3c6IHJvdyA/PyBudWxsLFxuICAgIG1lbWJlcjogbWVtYmVyID8/IG51bGwsXG4gICAgLi4uKHNlbnQgJiYgeyBtZXRob2Q6IHNlbnQud2lyZS5tZXRob2QsIHVybDogaGlkZShzZW50LndpcmUuc2hvd25VcmwpLCB0cmllczogc2VudC50cmllcyB9KSxcbiAgICBzdGF0dXM6IHJlY2VpdmVkPy5zdGF0dXMgPz8gbnVsbCxcbiAgICB0aW1lOiByZWNlaXZlZCA/IHJvdW5kZWQocmVjZWl2ZWQudGltZSkgOiBudWxsLFxuICAgIGV4cGVjdGF0aW9uczoge1xuICAgICAgbWV0OiB2ZXJkaWN0cy5maWx0ZXIoKHsgb2sgfSkgPT4gb2spLmxlbmd0aCxcbiAgICAgIGZhaWxlZDogdmVyZGljdHMuZmlsdGVyKCh7IG9rIH0pID0+ICFvaykubWFwKHZlcmRpY3REb2N1bWVudCksXG4gICAgfSxcbiAgICBrZXB0OiBbLi4ua2VwdF0sXG4gICAgcHJvYmxlbXM6IHByb2JsZW1zLm1hcCgocHJvYmxlbSkgPT4gYnJpZWYocHJvYmxlbSkpLFxuICAgIC4uLih0b2xkICYmIHRvbGREb2N1bWVudCh0b2xkKSksXG4gICAgZWNobzogc2VudD8uZWNobyB8fCBudWxsLFxuICB9O1xufVxuXG5mdW5jdGlvbiB0b2xkRG9jdW1lbnQoeyBwYWdlcywgc2VlbiwgY2hvc2VuLCBkaWZmZXJlbmNlcywgbWVtYmVycywgdW5rbm93biB9OiBUb2xkKTogb2JqZWN0IHtcbiAgcmV0dXJuIHtcbiAgICAuLi4ocGFnZXMgJiYgeyBwYWdlczogeyAuLi5wYWdlcywgdG90YWw6IHBhZ2VzLnRvdGFsID8/IG51bGwsIHBhcnRpYWw6IHBhZ2VzLnBhcnRpYWwgPz8gbnVsbCB9IH0pLFxuICAgIC4uLihzZWVuICYmIHsgc2VlbjogeyBhc2tlZDogc2Vlbi5hc2tlZCwgdmFsdWVzOiBbLi4uc2Vlbi52YWx1ZXNdIH0gfSksXG4gICAgLi4uKGNob3NlbiAhPT0gdW5kZWZpbmVkICYmIHsgY2hvc2VuIH0pLFxuICAgIC4uLihkaWZmZXJlbmNlcyAmJiB7IGRpZmZlcmVuY2VzOiBkaWZmZXJlbmNlcy5tYXAoZGlmZmVyZW5jZURvY3VtZW50KSB9KSxcbiAgICAuLi4obWVtYmVycyAmJiB7IG1lbWJlcnMgfSksXG4gICAgLi4uKHVua25vd24gIT09IHVuZGVmaW5lZCAmJiB7IHVua25vd24gfSksXG4gIH07XG59XG5cbmNvbnN0IHRhYmxlRG9jdW1lbnQgPSAoeyBsYWJlbCwgY29sdW1ucywgbGluZXMsIGNvdW50LCB0byB9OiBUYWJsZUV2ZW50KTogRG9jdW1lbnRzWydydW4gdGFibGUnXSA9PiAoe1xuICBldmVudDogJ3RhYmxlJyxcbiAgc3RlcDogbGFiZWwsXG4gIGNvbHVtbnM6IFsuLi5jb2x1bW5zXSxcbiAgcm93czogbGluZXMubWFwKChsaW5lOiBWYWx1ZU1hcCkgPT5cbiAgICBPYmplY3QuZnJvbUVudHJpZXMoT2JqZWN0LmVudHJpZXMobGluZSkubWFwKChbbmFtZSwgdmFsdWVdKSA9PiBbbmFtZSwgcGxhaW4odmFsdWUgYXMgVmFsdWUpXSkpLFxuICApLFxuICBjb3VudCxcbiAgdG86IHRvID8/IG51bGwsXG59KTtcblxuZXhwb3J0IGZ1bmN0aW9uIHN1bW1hcnlEb2N1bWVudChzdW1tYXJ5OiBTdW1tYXJ5LCB3YWxrZWQ6IHN0cmluZyk6IERvY3VtZW50c1sncnVuIHN1bW1hcnknXSB7XG4gIGNvbnN0IHsgcm93cywgaW5Eb3VidCwgbm90VW5kb25lLCBwcm9ibGVtLCBlbmRlZDogXywgLi4uZmFjdHMgfSA9IHN1bW1hcnk7XG4gIHJldHVybiB7XG4gICAgZXZlbnQ6ICdzdW1tYXJ5JyxcbiAgICB3YWxrZWQsXG4gICAgLi4uZmFjdHMsXG4gICAgd2FpdGVkOiBNYXRoLnJvdW5kKHN1bW1hcnkud2FpdGVkKSxcbiAgICB0aW1lOiBNYXRoLnJvdW5kKHN1bW1hcnkudGltZSksXG4gICAgcm93czogcm93cyA/PyBudWxsLFxuICAgIG5vdFVuZG9uZTogWy4uLm5vdFVuZG9uZV0sXG4gICAgaW5Eb3VidDogWy4uLmluRG91YnRdLFxuICAgIHByb2JsZW06IG9yTnVsbChwcm9ibGVtKSxcbiAgfTtcbn1cblxuZXhwb3J0IGZ1bmN0aW9uIG1hdHJpeERvY3VtZW50KHsgY2hlY2tzLCBzdWJqZWN0cywgZGV2aWF0aW9ucyB9OiBNYXRyaXgpOiBEb2N1bWVudHNbJ3J1biBtYXRyaXgnXSB7XG4gIHJldHVybiB7XG4gICAgZXZlbnQ6ICdtYXRyaXgnLFxuICAgIGNoZWNrczogWy4uLmNoZWNrc10sXG4gICAgc3ViamVjdHM6IHN1YmplY3RzLm1hcCgoeyBuYW1lLCBjZWxscyB9KSA9PiAoeyBuYW1lLCByZXN1bHRzOiBPYmplY3QuZnJvbUVudHJpZXMoY2VsbHMpIH0pKSxcbiAgICBkZXZpYXRpb25zOiBkZXZpYXRpb25zLm1hcCgoZGV2aWF0aW9uKSA9PiAoeyAuLi5kZXZpYXRpb24gfSkpLFxuICB9O1xufVxuXG5leHBvcnQgY29uc3QgdW5kb1N1bW1hcnlEb2N1bWVudCA9ICh7IHJ1biwgdW5kb25lLCBub3RVbmRvbmUgfTogVW5kb1N1bW1hcnkpOiBEb2N1bWVudHNbJ3J1biB1bmRvIHN1bW1hcnknXSA9PiAoe1xuICBldmVudDogJ3VuZG8tc3VtbWFyeScsXG4gIHJ1bixcbiAgdW5kb25lLFxuICBub3RVbmRvbmUsXG59KTtcbiIsICIvKiogYHJ1biAtLWFjY2VwdGA6IHdoYXQgaXMgZm91bmQgdGFrZXMgdGhlIHBsYWNlIG9mIHdoYXQgd2FzIGV4cGVjdGVkLCBvbmNlIHRoZSBkaWZmZXJlbmNlIHdhcyBzaG93bi4gKi9cblxuaW1wb3J0IHR5cGUgeyBBY2NlcHRlZCB9IGZyb20gJy4uLy4uL2NvcmUvbWF0Y2hlci9tYXRjaGVyLmpzJztcbmltcG9ydCB7IHNob3J0VGV4dCB9IGZyb20gJy4uLy4uL2NvcmUvbWF0Y2hlci9yZWFkaW5nLmpzJztcbmltcG9ydCB7IHdyaXRlQXRvbWljYWxseSB9IGZyb20gJy4uLy4uL2NvcmUvc3RvcmFnZS9hdG9taWMtd3JpdGUuanMnO1xuaW1wb3J0IHsgcGxhY2VJbnNpZGUgfSBmcm9tICcuLi8uLi9jb3JlL3N0b3JhZ2UvaW5zaWRlLmpzJztcbmltcG9ydCB0eXBlIHsgVGVybWluYWwgfSBmcm9tICcuLi90ZXJtaW5hbC5qcyc7XG5pbXBvcnQgeyBwcmludGFibGVMaW5lIH0gZnJvbSAnLi4vdmlldy9wcmludGFibGUuanMnO1xuXG5leHBvcnQgaW50ZXJmYWNlIEFjY2VwdGluZyB7XG4gIHJlYWRvbmx5IGFjY2VwdDogKGFjY2VwdGVkOiBBY2NlcHRlZCkgPT4gdm9pZDtcbiAgLyoqIFNldHRsZXMgd2hlbiBhbGwgaXMgd3JpdHRlbi4gQHRocm93cyBQcm9ibGVtIGZpbGUtdW5yZWFkYWJsZSwgZmlsZS1vdXRzaWRlICovXG4gIHdyaXR0ZW4oKTogUHJvbWlzZTx2b2lkPjtcbn1cblxuY29uc3Qgc2hvd24gPSAyMDtcblxuZXhwb3J0IGZ1bmN0aW9uIGFjY2VwdGluZyhyb290OiBzdHJpbmcsIHRlcm1pbmFsOiBUZXJtaW5hbCwgaGlkZTogKCkgPT4gKHRleHQ6IHN0cmluZykgPT4gc3RyaW5nKTogQWNjZXB0aW5nIHtcbiAgY29uc3QgZmlsZXMgPSBuZXcgTWFwPHN0cmluZywgc3RyaW5nPigpO1xuICByZXR1cm4ge1xuICAgIGFjY2VwdCh7IGZpbGUsIHRleHQsIGRpZmZlcmVuY2VzLCBtYWRlIH0pIHtcbiAgICAgIGNvbnN0IHsgZXJyIH0gPSB0ZXJtaW5hbDtcbiAgICAgIGZpbGVzLnNldChmaWxlLCBoaWRlKCkodGV4dCkpO1xuICAgICAgdGVybWluYWwubm90ZShgJHtlcnIueWVsbG93KCdhY2NlcHQnKX0gICR7ZmlsZX0ke21hZGUgPyBlcnIuZGltKCcgKHRoZXJlIHdhcyBub25lKScpIDogJyd9YCk7XG4gICAgICBmb3IgKGNvbnN0IHsgYXQsIGxlZnQsIHJpZ2h0IH0gb2YgZGlmZmVyZW5jZXMuc2xpY2UoMCwgc2hvd24pKSB7XG4gICAgICAgIGNvbnN0IHNpZGVzID0gW2xlZnQsIHJpZ2h0XS5tYXAoKHZhbHVlKSA9PiBwcmludGFibGVMaW5lKGhpZGUoKShzaG9ydFRleHQodmFsdWUpKSkpO1xuICAgICAgICB0ZXJtaW5hbC5ub3RlKGAgICAgICAgICR7ZXJyLmN5YW4ocHJpbnRhYmxlTGluZShhdCkpfSAgICR7c2lkZXMuam9pbihlcnIuZGltKCcgYmVjb21lcyAnKSl9YCk7XG4gICAgICB9XG4gICAgICBpZiAoZGlmZmVyZW5jZXMubGVuZ3RoID4gc2hvd24pIHRlcm1pbmFsLm5vdGUoYCAgICAgICAgYW5kICR7ZGlmZmVyZW5jZXMubGVuZ3RoIC0gc2hvd259IG1vcmVgKTtcbiAgICB9LFxuICAgIGFzeW5jIHdyaXR0ZW4oKSB7XG4gICAgICBmb3IgKGNvbnN0IFtmaWxlLCB0ZXh0XSBvZiBmaWxlcykgYXdhaXQgd3JpdGVBdG9taWNhbGx5KHBsYWNlSW5zaWRlKHJvb3QsIGZpbGUpLCB0ZXh0KTtcbiAgICB9LFxuICB9O1xufVxuIiwgIi8qKiBUaGUgd29ya3NwYWNlIG9mIGEgcnVuOiB3aXRoIHRoZSBwYXRpZW5jZSwgdGhlIGJhc2VsaW5lcyBhbmQgdGhlIHBlb3BsZSB0aGF0IGEgcnVuIG1heSB3YW50LiAqL1xuaW1wb3J0IHR5cGUgeyBDb2xsZWN0aW9uIH0gZnJvbSAnLi4vLi4vY29yZS9jb2xsZWN0aW9uL2NvbGxlY3Rpb24uanMnO1xuaW1wb3J0IHR5cGUgeyBTZXR0aW5ncyB9IGZyb20gJy4uLy4uL2NvcmUvY29sbGVjdGlvbi9sYXllcnMuanMnO1xuaW1wb3J0IHsgdG9sZE9ubHkgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3BhY2luZy9yZXRyeS1wb2xpY3kuanMnO1xuaW1wb3J0IHR5cGUgeyBXb3Jrc3BhY2UgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3dvcmtzcGFjZS5qcyc7XG5pbXBvcnQgdHlwZSB7IENvbnRleHQgfSBmcm9tICcuLi9jb250ZXh0LmpzJztcbmltcG9ydCB7IGFjY2VwdGluZyB9IGZyb20gJy4vYWNjZXB0aW5nLmpzJztcbmltcG9ydCB0eXBlIHsgUnVuV2lzaGVzIH0gZnJvbSAnLi9vcHRpb25zLmpzJztcblxuZXhwb3J0IGludGVyZmFjZSBPcGVuZWQge1xuICByZWFkb25seSB3b3Jrc3BhY2U6IFdvcmtzcGFjZTtcbiAgLyoqIFNldHRsZXMgd2hlbiB0aGUgYmFzZWxpbmVzIHRoYXQgd2VyZSBhY2NlcHRlZCBhcmUgd3JpdHRlbi4gKi9cbiAgcmVhZG9ubHkgd3JpdHRlbjogKCkgPT4gUHJvbWlzZTx2b2lkPjtcbn1cblxuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIG9wZW5lZChcbiAgY29udGV4dDogQ29udGV4dCxcbiAgd2lzaGVzOiBSdW5XaXNoZXMsXG4gIG1vcmU6IHtcbiAgICByZWFkb25seSBlbnZpcm9ubWVudD86IHN0cmluZyB8IHVuZGVmaW5lZDtcbiAgICByZWFkb25seSBzZXR0aW5ncz86IFNldHRpbmdzO1xuICAgIHJlYWRvbmx5IHJlZGFjdG9yPzogV29ya3NwYWNlWydyZWRhY3RvciddO1xuICAgIHJlYWRvbmx5IGNvbGxlY3Rpb24/OiBDb2xsZWN0aW9uO1xuICB9LFxuKTogUHJvbWlzZTxPcGVuZWQ+IHtcbiAgY29uc3QgeyB0ZXJtaW5hbCB9ID0gY29udGV4dDtcbiAgY29uc3QgY29sbGVjdGlvbiA9IG1vcmUuY29sbGVjdGlvbiA/PyAoYXdhaXQgY29udGV4dC5jb2xsZWN0aW9uKCkpO1xuICBsZXQgd29ya3NwYWNlOiBXb3Jrc3BhY2UgfCB1bmRlZmluZWQ7XG4gIGNvbnN0IGJhc2VsaW5lcyA9IGFjY2VwdGluZyhjb2xsZWN0aW9uLnJvb3QsIHRlcm1pbmFsLCAoKSA9PiB3b3Jrc3BhY2U/LnJlZGFjdG9yLmhpZGUgPz8gKCh0ZXh0KSA9PiB0ZXh0KSk7XG4gIHdvcmtzcGFjZSA9IGF3YWl0IGNvbnRleHQud29ya3NwYWNlKHtcbiAgICAuLi5tb3JlLFxuICAgIGNvbGxlY3Rpb24sXG4gICAgYWxsb3dDaGFuZ2VzOiB3aXNoZXMuYWxsb3dDaGFuZ2VzLFxuICAgIHJldHJ5OiB0b2xkT25seSxcbiAgICBkcnlSdW46IHdpc2hlcy5kcnlSdW4sXG4gICAgYWNjZXB0OiB3aXNoZXMuYWNjZXB0ID8gYmFzZWxpbmVzLmFjY2VwdCA6IHVuZGVmaW5lZCxcbiAgICBzdGFuZGFyZElucHV0OiAoKSA9PiBwcm9jZXNzLnN0ZGluLFxuICAgIGNob29zZTogdGVybWluYWwuaW50ZXJhY3RpdmVcbiAgICAgID8gKHF1ZXN0aW9uLCBsYWJlbHMpID0+IHRlcm1pbmFsLmFza2luZyhhc3luYyAoKSA9PiAoYXdhaXQgaW1wb3J0KCcuLi9hc2svY2hvaWNlLmpzJykpLmFza0xhYmVsKHF1ZXN0aW9uLCBsYWJlbHMpKVxuICAgICAgOiB1bmRlZmluZWQsXG4gIH0pO1xuICByZXR1cm4geyB3b3Jrc3BhY2UsIHdyaXR0ZW46IGJhc2VsaW5lcy53cml0dGVuIH07XG59XG4iLCAiLyoqIFdoYXQgY2FuIGJlIGtub3duIGJlZm9yZSB0aGUgZmlyc3Qgc3RlcDogc2VjcmV0cywgd2hldGhlciB0aGUgaG9zdHMgYXJlIHRoZXJlLCB0aGUgdmVyc2lvbiBvZiB0aGUgdmVuZG9yJ3MgQVBJLiAqL1xuaW1wb3J0IHsgY29ubmVjdCB9IGZyb20gJ25vZGU6bmV0JztcbmltcG9ydCB0eXBlIHsgRW52aXJvbm1lbnRGaWxlIH0gZnJvbSAnLi4vLi4vY29sbGVjdGlvbi9maWxlcy9lbnZpcm9ubWVudC1maWxlLmpzJztcbmltcG9ydCB7IHZhcmlhYmxlTmFtZXMgfSBmcm9tICcuLi8uLi9jb2xsZWN0aW9uL2xheWVycy5qcyc7XG5pbXBvcnQgdHlwZSB7IEFkZHJlc3NQbGFuIH0gZnJvbSAnLi4vLi4vZXhjaGFuZ2UvYWRkcmVzcy5qcyc7XG5pbXBvcnQgeyBFdmFsdWF0aW9uIH0gZnJvbSAnLi4vLi4vZXhwcmVzc2lvbi9ldmFsdWF0aW9uLmpzJztcbmltcG9ydCB7IG5vTmFtZXMgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL25hbWVzLmpzJztcbmltcG9ydCB7IHJlYWRQbGFjZSB9IGZyb20gJy4uLy4uL3BsYWNlL3JlZ2lzdHJ5LmpzJztcbmltcG9ydCB7IGFzUHJvYmxlbSwgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyB0ZXh0T2YgfSBmcm9tICcuLi8uLi92YWx1ZS90ZXh0LmpzJztcbmltcG9ydCB7IGdyYXZlciB9IGZyb20gJy4uL2dyYXZpdHkuanMnO1xuaW1wb3J0IHsgZGVtYW5kU2VjcmV0cyB9IGZyb20gJy4uL3NlY3JldHMtYWhlYWQuanMnO1xuaW1wb3J0IHsgc2VuZFJlcXVlc3QgfSBmcm9tICcuLi9zZW5kLmpzJztcbmltcG9ydCB0eXBlIHsgVHJhaWxQbGFuIH0gZnJvbSAnLi4vc3RlcC1raW5kLmpzJztcbmltcG9ydCB0eXBlIHsgV29ya3NwYWNlIH0gZnJvbSAnLi4vd29ya3NwYWNlLmpzJztcbmltcG9ydCB7IGNvbXBhcmVWZXJzaW9ucyB9IGZyb20gJy4vdmVyc2lvbnMuanMnO1xuXG4vKiogTWlsbGlzZWNvbmRzIHRoYXQgYSBob3N0IG1heSB0YWtlIHRvIGJlIHRoZXJlLiAqL1xuY29uc3QgcGF0aWVuY2UgPSAzMDAwO1xuLyoqIEhvc3RzIHRoYXQgYXJlIGxvb2tlZCBmb3I7IG1vcmUgb2YgdGhlbSBhcmUgcm93cy4gKi9cbmNvbnN0IG1vc3RIb3N0cyA9IDIwO1xuXG4vKiogQHRocm93cyBQcm9ibGVtIHNlY3JldC1taXNzaW5nLCBjb25uZWN0aW9uLXJlZnVzZWQsIG5hbWUtbG9va3VwLCBjb25uZWN0aW9uLXRpbWVvdXQsIHZlcnNpb24tcmVmdXNlZCAqL1xuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIGRlbWFuZEFoZWFkKFxuICB3b3Jrc3BhY2U6IFdvcmtzcGFjZSxcbiAgcGxhbnM6IHJlYWRvbmx5IFRyYWlsUGxhbltdLFxuICBzaWduYWw6IEFib3J0U2lnbmFsLFxuKTogUHJvbWlzZTx2b2lkPiB7XG4gIGRlbWFuZFNlY3JldHMod29ya3NwYWNlLCBwbGFucyk7XG4gIGlmICh3b3Jrc3BhY2UuZHJ5UnVuKSByZXR1cm47XG4gIGF3YWl0IGRlbWFuZEhvc3RzKHdvcmtzcGFjZSwgcGxhbnMpO1xuICBhd2FpdCBkZW1hbmRWZXJzaW9uKHdvcmtzcGFjZSwgc2lnbmFsKTtcbn1cblxuLyoqIEhvc3RzIHRoYXQgYXJlIHRoZSBzYW1lIGZvciBldmVyeSByb3cuIFRocm91Z2ggYSBwcm94eSBub3RoaW5nIGlzIGtub3duIGFoZWFkLiAqL1xuYXN5bmMgZnVuY3Rpb24gZGVtYW5kSG9zdHMod29ya3NwYWNlOiBXb3Jrc3BhY2UsIHBsYW5zOiByZWFkb25seSBUcmFpbFBsYW5bXSk6IFByb21pc2U8dm9pZD4ge1xuICBjb25zdCBob3N0cyA9IG5ldyBNYXA8c3RyaW5nLCBVUkw+KCk7XG4gIGZvciAoY29uc3QgeyBzdGVwcywgcm93cyB9IG9mIHBsYW5zKSB7XG4gICAgLy8gT25lIGNhbGwgYnkgaXRzZWxmIGZpbmRzIG91dCBhcyBmYXN0OyBhIHJvdyBtYXkgc2F5IHdoaWNoIGhvc3QgaXMgbWVhbnQuXG4gICAgaWYgKHN0ZXBzLmxlbmd0aCA8IDIpIGNvbnRpbnVlO1xuICAgIGlmIChcbiAgICAgIHJvd3MgJiZcbiAgICAgIFsuLi53b3Jrc3BhY2Uub3V0c2lkZU5hbWVzXS5zb21lKChuYW1lKSA9PiAhd29ya3NwYWNlLmxheWVycy5sYXllcnMuc29tZSgoeyB2YXJpYWJsZXMgfSkgPT4gdmFyaWFibGVzLmhhcyhuYW1lKSkpXG4gICAgKVxuICAgICAgY29udGludWU7XG4gICAgZm9yIChjb25zdCB7IHJlcXVlc3RzLCB3aGVuIH0gb2Ygc3RlcHMpIHtcbiAgICAgIGlmICh3aGVuKSBjb250aW51ZTtcbiAgICAgIGZvciAoY29uc3QgeyBwbGFuIH0gb2YgcmVxdWVzdHMpIHtcbiAgICAgICAgY29uc3QgdXJsID0gZml4ZWRPcmlnaW4od29ya3NwYWNlLCBwbGFuLmFkZHJlc3Mub3JpZ2luKTtcbiAgICAgICAgaWYgKHVybCAmJiBob3N0cy5zaXplIDwgbW9zdEhvc3RzKSBob3N0cy5zZXQodXJsLmhvc3QsIHVybCk7XG4gICAgICB9XG4gICAgfVxuICB9XG4gIGNvbnN0IG1pc3NpbmcgPSAoYXdhaXQgUHJvbWlzZS5hbGwoWy4uLmhvc3RzLnZhbHVlcygpXS5tYXAocmVhY2hlZCkpKS5maWx0ZXIoKHByb2JsZW0pID0+IHByb2JsZW0gIT09IHVuZGVmaW5lZCk7XG4gIGlmIChtaXNzaW5nLmxlbmd0aCA+IDApIHRocm93IG1pc3NpbmcucmVkdWNlKGdyYXZlcik7XG59XG5cbi8qKiBXaGF0IHRoZSBhZGRyZXNzIGJlZ2lucyB3aXRoLCB3aGVyZSB0aGF0IG5lZWRzIG5vIHJvdzsgdW5kZWZpbmVkIHdoZXJlIGEgcHJveHkgc3RhbmRzIGJlZm9yZSBpdC4gKi9cbmZ1bmN0aW9uIGZpeGVkT3JpZ2luKHdvcmtzcGFjZTogV29ya3NwYWNlLCBvcmlnaW46IEFkZHJlc3NQbGFuWydvcmlnaW4nXSk6IFVSTCB8IHVuZGVmaW5lZCB7XG4gIHRyeSB7XG4gICAgY29uc3Qgc3Vycm91bmRpbmdzID0geyB3b3JsZDogd29ya3NwYWNlLndvcmxkKCksIG9uU2VjcmV0OiB3b3Jrc3BhY2UucmVkYWN0b3IuYWRkIH07XG4gICAgY29uc3QgZXZhbHVhdGlvbiA9IG5ldyBFdmFsdWF0aW9uKHZhcmlhYmxlTmFtZXMod29ya3NwYWNlLmxheWVycywgbm9OYW1lcywgc3Vycm91bmRpbmdzKSwgc3Vycm91bmRpbmdzKTtcbiAgICBpZiAod29ya3NwYWNlLmNvbm5lY3Rpb24oKCkgPT4gZXZhbHVhdGlvbik/LnByb3h5KSByZXR1cm4gdW5kZWZpbmVkO1xuICAgIGNvbnN0IHRleHQgPSBvcmlnaW4oZXZhbHVhdGlvbik7XG4gICAgcmV0dXJuIHRleHQgIT09IHVuZGVmaW5lZCAmJiBVUkwuY2FuUGFyc2UodGV4dCkgPyBuZXcgVVJMKHRleHQpIDogdW5kZWZpbmVkO1xuICB9IGNhdGNoIHtcbiAgICByZXR1cm4gdW5kZWZpbmVkO1xuICB9XG59XG5cbmZ1bmN0aW9uIHJlYWNoZWQoeyBob3N0LCBob3N0bmFtZSwgcG9ydCwgcHJvdG9jb2wgfTogVVJMKTogUHJvbWlzZTxQcm9ibGVtIHwgdW5kZWZpbmVkPiB7XG4gIHJldHVybiBuZXcgUHJvbWlzZSgocmVzb2x2ZSkgPT4ge1xuICAgIGNvbnN0IHNvY2tldCA9IGNvbm5lY3Qoe1xuICAgICAgaG9zdDogaG9zdG5hbWUucmVwbGFjZSgvXlxcW3xcXF0kL2csICcnKSxcbiAgICAgIHBvcnQ6IE51bWJlcihwb3J0IHx8IChwcm90b2NvbCA9PT0gJ2h0dHBzOicgPyA0NDMgOiA4MCkpLFxuICAgICAgdGltZW91dDogcGF0aWVuY2UsXG4gICAgfSk7XG4gICAgY29uc3QgZG9uZSA9IChwcm9ibGVtOiBQcm9ibGVtIHwgdW5kZWZpbmVkKTogdm9pZCA9PiB7XG4gICAgICBzb2NrZXQuZGVzdHJveSgpO1xuICAgICAgcmVzb2x2ZShwcm9ibGVtKTtcbiAgICB9O1xuICAgIGNvbnN0IHNpbGVudCA9IChjb2RlOiAnbmFtZS1sb29rdXAnIHwgJ2Nvbm5lY3Rpb24tcmVmdXNlZCcgfCAnY29ubmVjdGlvbi10aW1lb3V0Jywgd2hhdDogc3RyaW5nKTogdm9pZCA9PlxuICAgICAgZG9uZShcbiAgICAgICAgbmV3IFByb2JsZW0oY29kZSwge1xuICAgICAgICAgIHdoYXQ6IGAke2hvc3R9ICR7d2hhdH1gLFxuICAgICAgICAgIHdoZXJlOiAnbG9va2luZyBhaGVhZCcsXG4gICAgICAgICAgcmVtZWR5OiAnbm90aGluZyB3YXMgc2VudDsgaXMgdGhlIGVudmlyb25tZW50IHRoZSByaWdodCBvbmU/JyxcbiAgICAgICAgfSksXG4gICAgICApO1xuICAgIHNvY2tldC5vbmNlKCdjb25uZWN0JywgKCkgPT4gZG9uZSh1bmRlZmluZWQpKTtcbiAgICBzb2NrZXQub25jZSgndGltZW91dCcsICgpID0+IHNpbGVudCgnY29ubmVjdGlvbi10aW1lb3V0JywgYGRpZCBub3QgYW5zd2VyIHdpdGhpbiAke3BhdGllbmNlIC8gMTAwMH0gc2ApKTtcbiAgICBzb2NrZXQub25jZSgnZXJyb3InLCAoeyBjb2RlIH06IE5vZGVKUy5FcnJub0V4Y2VwdGlvbikgPT4ge1xuICAgICAgaWYgKGNvZGUgPT09ICdFTk9URk9VTkQnIHx8IGNvZGUgPT09ICdFQUlfQUdBSU4nKSBzaWxlbnQoJ25hbWUtbG9va3VwJywgJ2lzIGEgbmFtZSB0aGF0IGlzIG5vdCBrbm93bicpO1xuICAgICAgZWxzZSBpZiAoY29kZSA9PT0gJ0VDT05OUkVGVVNFRCcpIHNpbGVudCgnY29ubmVjdGlvbi1yZWZ1c2VkJywgJ2lzIHRoZXJlLCBhbmQgbm90aGluZyBsaXN0ZW5zIG9uIHRoYXQgcG9ydCcpO1xuICAgICAgLy8gV2hhdCBpcyBvZGRlciB0aGFuIHRoYXQgaXMgdG9sZCBieSB0aGUgZXhjaGFuZ2UgaXRzZWxmLlxuICAgICAgZWxzZSBkb25lKHVuZGVmaW5lZCk7XG4gICAgfSk7XG4gIH0pO1xufVxuXG4vKiogQHRocm93cyBQcm9ibGVtIHZlcnNpb24tcmVmdXNlZDogd2hhdCB0aGUgdmVuZG9yIHNheXMgaXMgbm90IHdoYXQgdGhlIGVudmlyb25tZW50IGRlbWFuZHMgKi9cbmFzeW5jIGZ1bmN0aW9uIGRlbWFuZFZlcnNpb24od29ya3NwYWNlOiBXb3Jrc3BhY2UsIHNpZ25hbDogQWJvcnRTaWduYWwpOiBQcm9taXNlPHZvaWQ+IHtcbiAgY29uc3QgeyB2ZXJzaW9uLCB5YW1sIH0gPSB3b3Jrc3BhY2UuZW52aXJvbm1lbnQ7XG4gIGlmICghdmVyc2lvbikgcmV0dXJuO1xuICBjb25zdCB3aGVyZSA9IHlhbWwucG9zaXRpb24oWyd2ZXJzaW9uJ10pO1xuICBjb25zdCBmb3VuZCA9IGF3YWl0IHZlcnNpb25PZih3b3Jrc3BhY2UsIHZlcnNpb24sIHNpZ25hbCkuY2F0Y2goKGVycm9yOiB1bmtub3duKSA9PiB7XG4gICAgdGhyb3cgYXNQcm9ibGVtKGVycm9yKS5hdCh3aGVyZSk7XG4gIH0pO1xuICBjb25zdCB3YW50ZWQgPSBbXG4gICAgdmVyc2lvblsnYXQtbGVhc3QnXSAhPT0gdW5kZWZpbmVkICYmXG4gICAgICBjb21wYXJlVmVyc2lvbnMoZm91bmQsIHZlcnNpb25bJ2F0LWxlYXN0J10pIDwgMCAmJlxuICAgICAgYGF0IGxlYXN0ICR7dmVyc2lvblsnYXQtbGVhc3QnXX1gLFxuICAgIHZlcnNpb24udW5kZXIgIT09IHVuZGVmaW5lZCAmJiBjb21wYXJlVmVyc2lvbnMoZm91bmQsIHZlcnNpb24udW5kZXIpID49IDAgJiYgYHVuZGVyICR7dmVyc2lvbi51bmRlcn1gLFxuICBdLmZpbHRlcigodGV4dCkgPT4gdGV4dCAhPT0gZmFsc2UpO1xuICBpZiAod2FudGVkLmxlbmd0aCA9PT0gMCkgcmV0dXJuO1xuICB0aHJvdyBuZXcgUHJvYmxlbSgndmVyc2lvbi1yZWZ1c2VkJywge1xuICAgIHdoYXQ6IGB0aGUgdmVuZG9yJ3MgQVBJIGlzIG9mIHZlcnNpb24gJHtmb3VuZH0sIGFuZCB0aGUgZW52aXJvbm1lbnQgJHt3b3Jrc3BhY2UuZW52aXJvbm1lbnQubmFtZX0gd2FudHMgJHt3YW50ZWQuam9pbignIGFuZCAnKX1gLFxuICAgIHdoZXJlLFxuICAgIHJlbWVkeTogJ25vdGhpbmcgZWxzZSB3YXMgc2VudDsgY29tcGFyZSB0aGUgZG9jdW1lbnRhdGlvbiBvZiBib3RoIHZlcnNpb25zLCB0aGVuIGNoYW5nZSB2ZXJzaW9uIGluIHRoZSBlbnZpcm9ubWVudCcsXG4gICAgZGF0YTogeyB2ZXJzaW9uOiBmb3VuZCB9LFxuICB9KTtcbn1cblxuYXN5bmMgZnVuY3Rpb24gdmVyc2lvbk9mKFxuICB3b3Jrc3BhY2U6IFdvcmtzcGFjZSxcbiAgeyByZXF1ZXN0LCBhdCB9OiBOb25OdWxsYWJsZTxFbnZpcm9ubWVudEZpbGVbJ3ZlcnNpb24nXT4sXG4gIHNpZ25hbDogQWJvcnRTaWduYWwsXG4pOiBQcm9taXNlPHN0cmluZz4ge1xuICBjb25zdCBsb2FkczogUHJvbWlzZTx1bmtub3duPltdID0gW107XG4gIGNvbnN0IHBsYWNlID0gcmVhZFBsYWNlKGF0LCBsb2Fkcyk7XG4gIGF3YWl0IFByb21pc2UuYWxsKGxvYWRzKTtcbiAgY29uc3QgcHJlcGFyZWQgPSBhd2FpdCB3b3Jrc3BhY2UucHJlcGFyZShyZXF1ZXN0KTtcbiAgY29uc3QgeyBvdXRjb21lLCBwcm9ibGVtcyB9ID0gYXdhaXQgc2VuZFJlcXVlc3Qod29ya3NwYWNlLCBwcmVwYXJlZCwge1xuICAgIGdpdmVuOiAoKSA9PiB1bmRlZmluZWQsXG4gICAgY2FsbGVyOiBub05hbWVzLFxuICAgIHNpZ25hbCxcbiAgICBzdGVwOiAndmVyc2lvbicsXG4gIH0pO1xuICBjb25zdCBbZmlyc3RdID0gcHJvYmxlbXM7XG4gIGlmIChmaXJzdCkgdGhyb3cgZmlyc3Q7XG4gIGNvbnN0IHZhbHVlID0gb3V0Y29tZS5yZWNlaXZlZCAmJiBwbGFjZS5maW5kKG91dGNvbWUucmVjZWl2ZWQpO1xuICBpZiAodmFsdWUgPT09IHVuZGVmaW5lZCkge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCdwbGFjZS1ub3QtZm91bmQnLCB7IHdoYXQ6IGAke3JlcXVlc3R9IGhhcyBubyB2ZXJzaW9uIGF0ICR7YXR9YCwgcmVtZWR5OiAnY29ycmVjdCB2ZXJzaW9uOiBhdCcgfSk7XG4gIH1cbiAgcmV0dXJuIHRleHRPZih2YWx1ZSk7XG59XG4iLCAiLyoqIFdoYXQgYSB3YWxrIGNhbWUgdG8sIGluIHdvcmRzLiAqL1xuaW1wb3J0IHR5cGUgeyBTdW1tYXJ5IH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC9ldmVudHMuanMnO1xuaW1wb3J0IHR5cGUgeyBNYXRyaXggfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3J1bi9tYXRyaXguanMnO1xuaW1wb3J0IHsgZHVyYXRpb25UZXh0IH0gZnJvbSAnLi4vLi4vY29yZS92YWx1ZS9tZWFzdXJlcy5qcyc7XG5pbXBvcnQgdHlwZSB7IFRlcm1pbmFsIH0gZnJvbSAnLi4vdGVybWluYWwuanMnO1xuaW1wb3J0IHsgcHJpbnRhYmxlTGluZSB9IGZyb20gJy4vcHJpbnRhYmxlLmpzJztcbmltcG9ydCB7IHRhYmxlIH0gZnJvbSAnLi90YWJsZS5qcyc7XG5cbnR5cGUgSGlkZSA9ICh0ZXh0OiBzdHJpbmcpID0+IHN0cmluZztcblxuZXhwb3J0IGZ1bmN0aW9uIHN1bW1hcnlUZXh0KHN1bW1hcnk6IFN1bW1hcnksIG5hbWU6IHN0cmluZywgdGVybWluYWw6IFRlcm1pbmFsLCBoaWRlOiBIaWRlKTogc3RyaW5nIHtcbiAgY29uc3QgeyBvdXQgfSA9IHRlcm1pbmFsO1xuICBjb25zdCB7IHJvd3MsIHN0ZXBzLCBleHBlY3RhdGlvbnMsIHVuZG9uZSwgbm90VW5kb25lLCBpbkRvdWJ0LCB0aW1lLCBvaywgaW50ZXJydXB0ZWQsIHJ1biB9ID0gc3VtbWFyeTtcbiAgY29uc3Qgd29yZCA9IGludGVycnVwdGVkID8gb3V0LnllbGxvdygnaW50ZXJydXB0ZWQnKSA6IG9rID8gb3V0LmdyZWVuKCdhbGwgd2VsbCcpIDogb3V0LnJlZCgnZmFpbGVkJyk7XG4gIGNvbnN0IGZhY3RzID0gW1xuICAgIHJvd3MgJiYgcm93c1RleHQocm93cywgb3V0KSxcbiAgICBgJHtzdGVwc1RleHQoc3RlcHMpfSR7c3RlcHMuZmFpbGVkID4gMCA/IGAsICR7b3V0LnJlZChgJHtzdGVwcy5mYWlsZWR9IGZhaWxlZGApfWAgOiAnJ30ke3N0ZXBzLnNraXBwZWQgPiAwID8gYCwgJHtzdGVwcy5za2lwcGVkfSBza2lwcGVkYCA6ICcnfWAsXG4gICAgYCR7ZXhwZWN0YXRpb25zLm1ldH0gb2YgJHtleHBlY3RhdGlvbnMubWV0ICsgZXhwZWN0YXRpb25zLmZhaWxlZH0gZXhwZWN0YXRpb25zIG1ldGAsXG4gICAgdW5kb25lID4gMCAmJiBgJHt1bmRvbmV9IHVuZG9uZWAsXG4gICAgbm90VW5kb25lLmxlbmd0aCA+IDAgJiYgb3V0LnJlZChgJHtub3RVbmRvbmUubGVuZ3RofSBub3QgdW5kb25lYCksXG4gICAgZHVyYXRpb25UZXh0KHRpbWUpLFxuICBdLmZpbHRlcihCb29sZWFuKTtcbiAgY29uc3QgbGluZXMgPSBbYCR7b3V0LmJvbGQobmFtZSl9OiAke291dC5ib2xkKHdvcmQpfSAgICR7ZmFjdHMuam9pbignICAgJyl9ICAgJHtvdXQuZGltKGBydW4gJHtydW59YCl9YF07XG4gIGNvbnN0IHBhdGllbmNlID0gcGF0aWVuY2VUZXh0KHN1bW1hcnkpO1xuICBpZiAocGF0aWVuY2UpIGxpbmVzLnB1c2gocGF0aWVuY2UpO1xuICBsaW5lcy5wdXNoKC4uLmxpc3RlZCgnaW4gZG91YnQ6IHRoZXNlIG1heSBvciBtYXkgbm90IGhhdmUgaGFwcGVuZWQnLCBpbkRvdWJ0LCB0ZXJtaW5hbCwgaGlkZSkpO1xuICBsaW5lcy5wdXNoKC4uLmxpc3RlZCgnbm90IHVuZG9uZTogd2hhdCB0aGVzZSBtYWRlIG1heSBzdGlsbCBiZSB0aGVyZScsIG5vdFVuZG9uZSwgdGVybWluYWwsIGhpZGUpKTtcbiAgaWYgKG5vdFVuZG9uZS5sZW5ndGggPiAwKSBsaW5lcy5wdXNoKG91dC5kaW0oYCAgdHJ5IGVjaG8tdHJhaWwgcnVuIC0tdW5kbyAke3J1bn1gKSk7XG4gIGlmIChpbnRlcnJ1cHRlZCkgbGluZXMucHVzaChvdXQuZGltKGAgIHRvIGdvIG9uIHdpdGggaXQ6IGVjaG8tdHJhaWwgcnVuIC0tcmVzdW1lICR7cnVufWApKTtcbiAgZWxzZSBpZiAocm93cyAmJiByb3dzLmZhaWxlZCA+IDApIGxpbmVzLnB1c2gob3V0LmRpbShgICB0byB3YWxrIHdoYXQgZmFpbGVkOiBlY2hvLXRyYWlsIHJ1biAtLWZhaWxlZC1vZiAke3J1bn1gKSk7XG4gIHJldHVybiBsaW5lcy5qb2luKCdcXG4nKTtcbn1cblxuLyoqIFdoZXJlIG5vdGhpbmcgd2FzIHNlbnQuICovXG5leHBvcnQgZnVuY3Rpb24gZHJ5VGV4dCh7IG9rLCBzdGVwcyB9OiBTdW1tYXJ5LCBuYW1lOiBzdHJpbmcsIHsgb3V0IH06IFRlcm1pbmFsKTogc3RyaW5nIHtcbiAgY29uc3Qgd29yZCA9IG9rID8gb3V0LmdyZWVuKCdub3RoaW5nIHdhcyBzZW50JykgOiBvdXQucmVkKCdmYWlsZWQsIGFuZCBub3RoaW5nIHdhcyBzZW50Jyk7XG4gIHJldHVybiBgJHtvdXQuYm9sZChuYW1lKX06ICR7b3V0LmJvbGQod29yZCl9ICAgJHtzdGVwc1RleHQoc3RlcHMpfWA7XG59XG5cbmNvbnN0IHN0ZXBzVGV4dCA9ICh7IG9rLCBmYWlsZWQgfTogU3VtbWFyeVsnc3RlcHMnXSk6IHN0cmluZyA9PlxuICBgJHtvayArIGZhaWxlZH0gJHtvayArIGZhaWxlZCA9PT0gMSA/ICdzdGVwJyA6ICdzdGVwcyd9YDtcblxuZnVuY3Rpb24gcm93c1RleHQoeyBvaywgZmFpbGVkLCBiZWZvcmUgfTogTm9uTnVsbGFibGU8U3VtbWFyeVsncm93cyddPiwgb3V0OiBUZXJtaW5hbFsnb3V0J10pOiBzdHJpbmcge1xuICBjb25zdCBwYXJ0cyA9IFtgJHtva30gb2YgJHtvayArIGZhaWxlZH0gcm93c2BdO1xuICBpZiAoZmFpbGVkID4gMCkgcGFydHMucHVzaChvdXQucmVkKGAke2ZhaWxlZH0gZmFpbGVkYCkpO1xuICBpZiAoYmVmb3JlID4gMCkgcGFydHMucHVzaChgJHtiZWZvcmV9IG9mIHRoZW0gYmVmb3JlYCk7XG4gIHJldHVybiBwYXJ0cy5qb2luKCcsICcpO1xufVxuXG4vKiogSG93IG9mdGVuIGEgaG9zdCBhc2tlZCBmb3IgcGF0aWVuY2UsIHdoZXJlIG9uZSBkaWQuICovXG5mdW5jdGlvbiBwYXRpZW5jZVRleHQoeyByZWZ1c2VkLCB0cmllZEFnYWluLCB3YWl0ZWQgfTogU3VtbWFyeSk6IHN0cmluZyB8IHVuZGVmaW5lZCB7XG4gIGlmIChyZWZ1c2VkICsgdHJpZWRBZ2FpbiA9PT0gMCAmJiB3YWl0ZWQgPT09IDApIHJldHVybiB1bmRlZmluZWQ7XG4gIHJldHVybiBgICAke3JlZnVzZWR9IHJlZnVzZWQsICR7dHJpZWRBZ2Fpbn0gdHJpZWQgYWdhaW4sIHdhaXRlZCAke2R1cmF0aW9uVGV4dCh3YWl0ZWQpfWA7XG59XG5cbmZ1bmN0aW9uIGxpc3RlZChoZWFkOiBzdHJpbmcsIGl0ZW1zOiByZWFkb25seSBzdHJpbmdbXSwgeyBvdXQgfTogVGVybWluYWwsIGhpZGU6IEhpZGUpOiBzdHJpbmdbXSB7XG4gIGlmIChpdGVtcy5sZW5ndGggPT09IDApIHJldHVybiBbXTtcbiAgY29uc3Qgc2hvd24gPSBpdGVtcy5zbGljZSgwLCAyMCkubWFwKCh0ZXh0KSA9PiBgICAke3ByaW50YWJsZUxpbmUoaGlkZSh0ZXh0KSl9YCk7XG4gIGNvbnN0IG1vcmUgPSBpdGVtcy5sZW5ndGggLSBzaG93bi5sZW5ndGg7XG4gIHJldHVybiBbb3V0LnllbGxvdyhoZWFkKSwgLi4uc2hvd24sIC4uLihtb3JlID4gMCA/IFtgICBhbmQgJHttb3JlfSBtb3JlOiAtLWpzb24gbGlzdHMgdGhlbWBdIDogW10pXTtcbn1cblxuLyoqIEhvc3RzIGJ5IGNoZWNrcywgYW5kIGJlbG93IGl0IGVhY2ggZGV2aWF0aW9uLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIG1hdHJpeFRleHQoeyBjaGVja3MsIHN1YmplY3RzLCBkZXZpYXRpb25zIH06IE1hdHJpeCwgdGVybWluYWw6IFRlcm1pbmFsLCBoaWRlOiBIaWRlKTogc3RyaW5nIHtcbiAgY29uc3QgeyBvdXQgfSA9IHRlcm1pbmFsO1xuICBjb25zdCBwYWludCA9IHtcbiAgICBvazogb3V0LmdyZWVuKCdvaycpLFxuICAgIGZhaWxlZDogb3V0LnJlZCgnZmFpbGVkJyksXG4gICAgdW5yZWFjaGFibGU6IG91dC5yZWQoJ25vIGFuc3dlcicpLFxuICAgIHNraXBwZWQ6IG91dC5kaW0oJ3NraXBwZWQnKSxcbiAgICAnJzogb3V0LmRpbSgnLScpLFxuICB9O1xuICBjb25zdCByb3dzID0gc3ViamVjdHNcbiAgICAuc2xpY2UoMCwgbW9zdFN1YmplY3RzKVxuICAgIC5tYXAoKHsgbmFtZSwgY2VsbHMgfSkgPT4gW3ByaW50YWJsZUxpbmUoaGlkZShuYW1lKSksIC4uLmNoZWNrcy5tYXAoKGNoZWNrKSA9PiBwYWludFtjZWxscy5nZXQoY2hlY2spID8/ICcnXSldKTtcbiAgY29uc3QgYmxvY2tzID0gW3RhYmxlKHJvd3MsIHRlcm1pbmFsLCB7IGhlYWQ6IFsnJywgLi4uY2hlY2tzXSwgZmxleGlibGU6IGNoZWNrcy5tYXAoKF8sIGluZGV4KSA9PiBpbmRleCArIDEpIH0pXTtcbiAgaWYgKHN1YmplY3RzLmxlbmd0aCA+IG1vc3RTdWJqZWN0cykgYmxvY2tzLnB1c2goYGFuZCAke3N1YmplY3RzLmxlbmd0aCAtIG1vc3RTdWJqZWN0c30gbW9yZTogLS1qc29uIGxpc3RzIHRoZW1gKTtcbiAgaWYgKGRldmlhdGlvbnMubGVuZ3RoID4gMCkge1xuICAgIGNvbnN0IGxpbmVzID0gZGV2aWF0aW9uc1xuICAgICAgLnNsaWNlKDAsIG1vc3REZXZpYXRpb25zKVxuICAgICAgLm1hcCgoeyBzdWJqZWN0LCBwbGFjZSwgZXhwZWN0ZWQsIGZvdW5kLCBlY2hvIH0pID0+IFtcbiAgICAgICAgLi4uW3N1YmplY3QsIHBsYWNlLCBleHBlY3RlZCwgZm91bmRdLm1hcCgodGV4dCkgPT4gcHJpbnRhYmxlTGluZShoaWRlKHRleHQpKSksXG4gICAgICAgIG91dC5kaW0oZWNobyksXG4gICAgICBdKTtcbiAgICBibG9ja3MucHVzaCgnJywgb3V0LmJvbGQoYCR7ZGV2aWF0aW9ucy5sZW5ndGh9ICR7ZGV2aWF0aW9ucy5sZW5ndGggPT09IDEgPyAnZGV2aWF0aW9uJyA6ICdkZXZpYXRpb25zJ31gKSk7XG4gICAgYmxvY2tzLnB1c2godGFibGUobGluZXMsIHRlcm1pbmFsLCB7IGhlYWQ6IFsnJywgJ2F0JywgJ2V4cGVjdGVkJywgJ2ZvdW5kJywgJ2VjaG8nXSwgZmxleGlibGU6IFsyLCAzXSB9KSk7XG4gICAgaWYgKGRldmlhdGlvbnMubGVuZ3RoID4gbW9zdERldmlhdGlvbnMpXG4gICAgICBibG9ja3MucHVzaChgYW5kICR7ZGV2aWF0aW9ucy5sZW5ndGggLSBtb3N0RGV2aWF0aW9uc30gbW9yZTogLS1qc29uIGxpc3RzIHRoZW1gKTtcbiAgfVxuICByZXR1cm4gYmxvY2tzLmpvaW4oJ1xcbicpO1xufVxuXG5jb25zdCBtb3N0U3ViamVjdHMgPSA2MDtcbmNvbnN0IG1vc3REZXZpYXRpb25zID0gNjA7XG4iLCAiLyoqIFdhbGtpbmcgd2hhdCBpcyBwbGFubmVkLCBhcyBvZnRlbiBhcyBpcyB3aXNoZWQsIGFuZCB0ZWxsaW5nIHdoYXQgaXQgY2FtZSB0by4gKi9cbmltcG9ydCB7IHNldFRpbWVvdXQgfSBmcm9tICdub2RlOnRpbWVycy9wcm9taXNlcyc7XG5pbXBvcnQgdHlwZSB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9jb3JlL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgdHlwZSB7IEpvdXJuYWwgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL2pvdXJuYWwvam91cm5hbC5qcyc7XG5pbXBvcnQgdHlwZSB7IFJ1bk9wdGlvbnMgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL2pvdXJuYWwvbGluZXMuanMnO1xuaW1wb3J0IHR5cGUgeyBNYXRyaXhNYWtlciB9IGZyb20gJy4uLy4uL2NvcmUvdHJhaWwvcnVuL21hdHJpeC5qcyc7XG5pbXBvcnQgdHlwZSB7IEhhbmRsZWQsIFRyYWlsUGxhbiB9IGZyb20gJy4uLy4uL2NvcmUvdHJhaWwvc3RlcC1raW5kLmpzJztcbmltcG9ydCB7IHdhbGtUcmFpbCB9IGZyb20gJy4uLy4uL2NvcmUvdHJhaWwvd2Fsay5qcyc7XG5pbXBvcnQgdHlwZSB7IFdvcmtzcGFjZSB9IGZyb20gJy4uLy4uL2NvcmUvdHJhaWwvd29ya3NwYWNlLmpzJztcbmltcG9ydCB7IGR1cmF0aW9uVGV4dCB9IGZyb20gJy4uLy4uL2NvcmUvdmFsdWUvbWVhc3VyZXMuanMnO1xuaW1wb3J0IHR5cGUgeyBDb250ZXh0IH0gZnJvbSAnLi4vY29udGV4dC5qcyc7XG5pbXBvcnQgeyBleGl0U3RhdHVzIH0gZnJvbSAnLi4vZXhpdC1zdGF0dXMuanMnO1xuaW1wb3J0IHsgcHJvYmxlbUxpbmVzIH0gZnJvbSAnLi4vdmlldy9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHN1bW1hcnlEb2N1bWVudCB9IGZyb20gJy4uL3ZpZXcvcnVuLWRvY3VtZW50cy5qcyc7XG5pbXBvcnQgeyBkcnlUZXh0LCBzdW1tYXJ5VGV4dCB9IGZyb20gJy4uL3ZpZXcvcnVuLXN1bW1hcnkuanMnO1xuaW1wb3J0IHR5cGUgeyBSdW5XaXNoZXMgfSBmcm9tICcuL29wdGlvbnMuanMnO1xuaW1wb3J0IHsgcmVwb3J0ZXIgfSBmcm9tICcuL3JlcG9ydGVyLmpzJztcblxuZXhwb3J0IGludGVyZmFjZSBXYWxraW5nIHtcbiAgcmVhZG9ubHkgd29ya3NwYWNlOiBXb3Jrc3BhY2U7XG4gIHJlYWRvbmx5IHBsYW5zOiByZWFkb25seSBUcmFpbFBsYW5bXTtcbiAgcmVhZG9ubHkgd2lzaGVzOiBSdW5XaXNoZXM7XG4gIHJlYWRvbmx5IGpvdXJuYWw6IEpvdXJuYWwgfCB1bmRlZmluZWQ7XG4gIHJlYWRvbmx5IG1hdHJpeDogTWF0cml4TWFrZXIgfCB1bmRlZmluZWQ7XG4gIC8qKiBOYW1lZCB3aGVyZSB0aGVyZSBhcmUgc2V2ZXJhbC4gKi9cbiAgcmVhZG9ubHkgZW52aXJvbm1lbnQ6IHN0cmluZyB8IHVuZGVmaW5lZDtcbiAgLyoqIFdoYXQgd2FzIGFza2VkIGZvciwgbm93IG9yIGJ5IHRoZSBjb21tYW5kIHRoYXQgaXMgZ29uZSBvbiB3aXRoLiAqL1xuICByZWFkb25seSBvcHRpb25zOiBSdW5PcHRpb25zO1xufVxuXG4vKiogQHJldHVybnMgdGhlIGV4aXQgc3RhdHVzICovXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gd2Fsa1BsYW5zKHdhbGtpbmc6IFdhbGtpbmcsIGNvbnRleHQ6IENvbnRleHQpOiBQcm9taXNlPG51bWJlcj4ge1xuICBjb25zdCB7IHdpc2hlcywgb3B0aW9ucyB9ID0gd2Fsa2luZztcbiAgY29uc3QgeyByZXBlYXQsIGV2ZXJ5LCB1bnRpbCB9ID0gb3B0aW9ucztcbiAgY29uc3QgaGFuZGxlZCA9IGhhbmRsZWRCZWZvcmUod2Fsa2luZy5qb3VybmFsKTtcbiAgbGV0IHN0YXR1cyA9IDA7XG4gIGZvciAobGV0IHBhc3MgPSAwOyByZXBlYXQgPT09IHVuZGVmaW5lZCB8fCBwYXNzIDwgcmVwZWF0OyBwYXNzICs9IDEpIHtcbiAgICBjb25zdCBiZWdhbiA9IHBlcmZvcm1hbmNlLm5vdygpO1xuICAgIGNvbnN0IHsgc3RhdHVzOiBvd24sIHdhbGtlZCB9ID0gYXdhaXQgd2Fsa1Bhc3MocGFzcywgd2Fsa2luZywgY29udGV4dCwgaGFuZGxlZCk7XG4gICAgc3RhdHVzID0gd29yc2Uoc3RhdHVzLCBvd24pO1xuICAgIGNvbnN0IGVub3VnaCA9IHVudGlsICE9PSB1bmRlZmluZWQgJiYgKHVudGlsID09PSAnb2snKSA9PT0gKG93biA9PT0gMCk7XG4gICAgLy8gV2hhdCBpcyB3YWl0ZWQgZm9yIGhhcyBjb21lOiB0aGF0IGl0IHdhcyBub3QgdGhlcmUgYmVmb3JlIGlzIG5vIGZhaWx1cmUuXG4gICAgaWYgKGVub3VnaCAmJiB1bnRpbCA9PT0gJ29rJykgc3RhdHVzID0gMDtcbiAgICBpZiAoY29udGV4dC5zaWduYWwuYWJvcnRlZCB8fCBlbm91Z2ggfHwgKHdpc2hlcy5zdG9wQXRGaXJzdEZhaWx1cmUgJiYgb3duICE9PSAwKSkgYnJlYWs7XG4gICAgLy8gV2hhdCBhbiBlYXJsaWVyIGNvbW1hbmQgd2Fsa2VkIG5lZWRzIG5vIHJlc3QuXG4gICAgaWYgKHdhbGtlZCAmJiAocmVwZWF0ID09PSB1bmRlZmluZWQgfHwgcGFzcyArIDEgPCByZXBlYXQpKSBhd2FpdCByZXN0KGV2ZXJ5IC0gKHBlcmZvcm1hbmNlLm5vdygpIC0gYmVnYW4pLCBjb250ZXh0KTtcbiAgICBpZiAoY29udGV4dC5zaWduYWwuYWJvcnRlZCkgcmV0dXJuIDEzMDtcbiAgfVxuICByZXR1cm4gc3RhdHVzO1xufVxuXG5jb25zdCBoYW5kbGVkQmVmb3JlID0gKGpvdXJuYWw6IEpvdXJuYWwgfCB1bmRlZmluZWQpOiBIYW5kbGVkID0+XG4gIG5ldyBNYXAoWy4uLihqb3VybmFsPy5oYW5kbGVkQmVmb3JlKCkgPz8gW10pXS5tYXAoKFt3aGVyZSwga2V5c10pID0+IFt3aGVyZSwgbmV3IFNldChrZXlzKV0pKTtcblxuLyoqIEFsbCBwbGFucyBvbmNlLiAqL1xuYXN5bmMgZnVuY3Rpb24gd2Fsa1Bhc3MoXG4gIHBhc3M6IG51bWJlcixcbiAgd2Fsa2luZzogV2Fsa2luZyxcbiAgY29udGV4dDogQ29udGV4dCxcbiAgaGFuZGxlZDogSGFuZGxlZCxcbik6IFByb21pc2U8eyByZWFkb25seSBzdGF0dXM6IG51bWJlcjsgcmVhZG9ubHkgd2Fsa2VkOiBib29sZWFuIH0+IHtcbiAgY29uc3QgeyBwbGFucywgd2lzaGVzLCBqb3VybmFsLCBvcHRpb25zIH0gPSB3YWxraW5nO1xuICBsZXQgc3RhdHVzID0gMDtcbiAgbGV0IHdhbGtlZCA9IGZhbHNlO1xuICBmb3IgKGNvbnN0IFtpbmRleCwgcGxhbl0gb2YgcGxhbnMuZW50cmllcygpKSB7XG4gICAgY29uc3QgbnVtYmVyID0gcGFzcyAqIHBsYW5zLmxlbmd0aCArIGluZGV4O1xuICAgIGNvbnN0IGJlZm9yZSA9IGpvdXJuYWw/LndhbGtCZWZvcmUobnVtYmVyKTtcbiAgICBjb25zdCBwYXJ0ID0gb3B0aW9ucy5wYXJ0cz8uW2luZGV4XSA/PyAnYWxsJztcbiAgICBpZiAoYmVmb3JlID09PSBmYWxzZSkgc3RhdHVzID0gd29yc2Uoc3RhdHVzLCAxKTtcbiAgICBpZiAoYmVmb3JlICE9PSB1bmRlZmluZWQgfHwgcGFydCA9PT0gJ25vbmUnKSBjb250aW51ZTtcbiAgICB3YWxrZWQgPSB0cnVlO1xuICAgIGNvbnN0IHJvd3MgPSBwYXJ0ID09PSAnYWxsJyA/IHVuZGVmaW5lZCA6IG5ldyBTZXQocGFydCk7XG4gICAgY29uc3QgcHJvYmxlbSA9IGF3YWl0IHdhbGtPbmUocGxhbiwgbnVtYmVyLCB3YWxraW5nLCBjb250ZXh0LCBoYW5kbGVkLCByb3dzKTtcbiAgICBzdGF0dXMgPSB3b3JzZShzdGF0dXMsIGV4aXRTdGF0dXMocHJvYmxlbSkpO1xuICAgIGlmIChjb250ZXh0LnNpZ25hbC5hYm9ydGVkIHx8ICh3aXNoZXMuc3RvcEF0Rmlyc3RGYWlsdXJlICYmIHByb2JsZW0pKSBicmVhaztcbiAgfVxuICByZXR1cm4geyBzdGF0dXMsIHdhbGtlZCB9O1xufVxuXG5hc3luYyBmdW5jdGlvbiB3YWxrT25lKFxuICBwbGFuOiBUcmFpbFBsYW4sXG4gIG51bWJlcjogbnVtYmVyLFxuICB7IHdvcmtzcGFjZSwgd2lzaGVzLCBqb3VybmFsLCBtYXRyaXgsIGVudmlyb25tZW50IH06IFdhbGtpbmcsXG4gIHsgdGVybWluYWwsIHNpZ25hbCwgc2Vjb25kU2lnbmFsIH06IENvbnRleHQsXG4gIGhhbmRsZWQ6IEhhbmRsZWQsXG4gIHJvd3M6IFJlYWRvbmx5U2V0PG51bWJlcj4gfCB1bmRlZmluZWQsXG4pOiBQcm9taXNlPFByb2JsZW0gfCB1bmRlZmluZWQ+IHtcbiAgY29uc3QgeyByZXBvcnQsIGVuZCB9ID0gcmVwb3J0ZXIocGxhbiwgd29ya3NwYWNlLCB0ZXJtaW5hbCwgbWF0cml4LCBlbnZpcm9ubWVudCk7XG4gIGNvbnN0IHsgaGlkZSB9ID0gd29ya3NwYWNlLnJlZGFjdG9yO1xuICBjb25zdCB7IHN0b3BBdEZpcnN0RmFpbHVyZSB9ID0gd2lzaGVzO1xuICBjb25zdCBzZXR0aW5ncyA9IHsgcmVwb3J0LCBzaWduYWwsIHVuZG9TaWduYWw6IHNlY29uZFNpZ25hbCwgbnVtYmVyLCBqb3VybmFsLCByb3dzLCBzdG9wQXRGaXJzdEZhaWx1cmUsIGhhbmRsZWQgfTtcbiAgY29uc3Qgc3VtbWFyeSA9IGF3YWl0IHdhbGtUcmFpbCh3b3Jrc3BhY2UsIHBsYW4sIHNldHRpbmdzKS5maW5hbGx5KGVuZCk7XG4gIGlmIChtYXRyaXggJiYgZW52aXJvbm1lbnQgPT09IHVuZGVmaW5lZCkgbWF0cml4LmVuZGVkKHBsYW4ubmFtZSk7XG4gIGlmICh0ZXJtaW5hbC5qc29uKSB7XG4gICAgY29uc3QgZG9jdW1lbnQgPSBzdW1tYXJ5RG9jdW1lbnQoc3VtbWFyeSwgcGxhbi5uYW1lKTtcbiAgICB0ZXJtaW5hbC5wcmludChoaWRlKEpTT04uc3RyaW5naWZ5KGVudmlyb25tZW50ID09PSB1bmRlZmluZWQgPyBkb2N1bWVudCA6IHsgLi4uZG9jdW1lbnQsIGVudmlyb25tZW50IH0pKSk7XG4gIH0gZWxzZSBpZiAod29ya3NwYWNlLmRyeVJ1bikgdGVybWluYWwucHJpbnQoZHJ5VGV4dChzdW1tYXJ5LCBwbGFuLm5hbWUsIHRlcm1pbmFsKSk7XG4gIGVsc2UgdGVybWluYWwucHJpbnQoc3VtbWFyeVRleHQoc3VtbWFyeSwgcGxhbi5uYW1lLCB0ZXJtaW5hbCwgaGlkZSkpO1xuICBpZiAoc3VtbWFyeS5lbmRlZCAmJiAhdGVybWluYWwuanNvbikgdGVybWluYWwuY29tcGxhaW4ocHJvYmxlbUxpbmVzKHN1bW1hcnkuZW5kZWQsIHRlcm1pbmFsLmVyciwgaGlkZSkpO1xuICByZXR1cm4gc3VtbWFyeS5wcm9ibGVtO1xufVxuXG4vKiogVW50aWwgdGhlIG5leHQgYmVnaW5zLCBvciBzb21lYm9keSBlbmRzIGl0LiAqL1xuYXN5bmMgZnVuY3Rpb24gcmVzdChtczogbnVtYmVyLCB7IHRlcm1pbmFsLCBzaWduYWwgfTogQ29udGV4dCk6IFByb21pc2U8dm9pZD4ge1xuICBjb25zdCB1bnRpbCA9IHBlcmZvcm1hbmNlLm5vdygpICsgbXM7XG4gIGlmIChtcyA+IDEwMDApIHRlcm1pbmFsLm5vdGUodGVybWluYWwuZXJyLmRpbShgYWdhaW4gaW4gJHtkdXJhdGlvblRleHQobXMpfWApKTtcbiAgd2hpbGUgKCFzaWduYWwuYWJvcnRlZCAmJiBwZXJmb3JtYW5jZS5ub3coKSA8IHVudGlsKSB7XG4gICAgY29uc3QgbGVmdCA9IHVudGlsIC0gcGVyZm9ybWFuY2Uubm93KCk7XG4gICAgYXdhaXQgc2V0VGltZW91dChNYXRoLm1pbihsZWZ0LCAxMDAwKSwgdW5kZWZpbmVkLCB7IHNpZ25hbCB9KS5jYXRjaCgoKSA9PiB1bmRlZmluZWQpO1xuICB9XG59XG5cbi8qKiBCeSB0aGUgb3JkZXIgb2YgdGhlIGV4aXQgc3RhdHVzZXM6IDEzMCwgMiwgNCwgMywgMSwgMC4gKi9cbmV4cG9ydCBmdW5jdGlvbiB3b3JzZShvbmU6IG51bWJlciwgb3RoZXI6IG51bWJlcik6IG51bWJlciB7XG4gIGNvbnN0IG9yZGVyID0gWzAsIDEsIDMsIDQsIDIsIDEzMF07XG4gIHJldHVybiBvcmRlci5pbmRleE9mKG9uZSkgPj0gb3JkZXIuaW5kZXhPZihvdGhlcikgPyBvbmUgOiBvdGhlcjtcbn1cbiIsICIvKiogV2hhdCBhIHdhbGsgY291bnRzIHdoaWxlIGl0IGhhcHBlbnMuICovXG5pbXBvcnQgdHlwZSB7IFByb2JsZW0gfSBmcm9tICcuLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHR5cGUgeyBTdW1tYXJ5LCBVbmRvRXZlbnQsIFdhbGtFdmVudCB9IGZyb20gJy4vZXZlbnRzLmpzJztcbmltcG9ydCB0eXBlIHsgUGF0aWVuY2UgfSBmcm9tICcuL3BhY2luZy90cmllcy5qcyc7XG5cbi8qKiBNdXRhYmxlIGNvdW50cyBvZiBvbmUgd2Fsay4gKi9cbmV4cG9ydCBpbnRlcmZhY2UgVGFsbHkge1xuICByb3dzOiB7IG9rOiBudW1iZXI7IGZhaWxlZDogbnVtYmVyOyBiZWZvcmU6IG51bWJlciB9O1xuICBzdGVwczogeyBvazogbnVtYmVyOyBmYWlsZWQ6IG51bWJlcjsgc2tpcHBlZDogbnVtYmVyIH07XG4gIGV4cGVjdGF0aW9uczogeyBtZXQ6IG51bWJlcjsgZmFpbGVkOiBudW1iZXIgfTtcbiAgdW5kb25lOiBudW1iZXI7XG4gIG5vdFVuZG9uZTogc3RyaW5nW107XG4gIGluRG91YnQ6IHN0cmluZ1tdO1xuICBlbmRlZDogUHJvYmxlbSB8IHVuZGVmaW5lZDtcbiAgcHJvYmxlbTogUHJvYmxlbSB8IHVuZGVmaW5lZDtcbn1cblxuZXhwb3J0IGNvbnN0IG5ld1RhbGx5ID0gKCk6IFRhbGx5ID0+ICh7XG4gIHJvd3M6IHsgb2s6IDAsIGZhaWxlZDogMCwgYmVmb3JlOiAwIH0sXG4gIHN0ZXBzOiB7IG9rOiAwLCBmYWlsZWQ6IDAsIHNraXBwZWQ6IDAgfSxcbiAgZXhwZWN0YXRpb25zOiB7IG1ldDogMCwgZmFpbGVkOiAwIH0sXG4gIHVuZG9uZTogMCxcbiAgbm90VW5kb25lOiBbXSxcbiAgaW5Eb3VidDogW10sXG4gIGVuZGVkOiB1bmRlZmluZWQsXG4gIHByb2JsZW06IHVuZGVmaW5lZCxcbn0pO1xuXG5leHBvcnQgZnVuY3Rpb24gY291bnQoZXZlbnQ6IFdhbGtFdmVudCwgdGFsbHk6IFRhbGx5KTogdm9pZCB7XG4gIGlmIChldmVudC5ldmVudCA9PT0gJ3N0ZXAnKSB7XG4gICAgdGFsbHkuc3RlcHNbZXZlbnQuc3RhdGVdICs9IDE7XG4gICAgZm9yIChjb25zdCB7IG9rIH0gb2YgZXZlbnQuc2VudD8udmVyZGljdHMgPz8gW10pIHRhbGx5LmV4cGVjdGF0aW9uc1tvayA/ICdtZXQnIDogJ2ZhaWxlZCddICs9IDE7XG4gIH0gZWxzZSBpZiAoZXZlbnQuZXZlbnQgPT09ICdyb3cnKSB0YWxseS5yb3dzW2V2ZW50Lm9rID8gJ29rJyA6ICdmYWlsZWQnXSArPSAxO1xuICBlbHNlIGlmIChldmVudC5ldmVudCA9PT0gJ3VuZG8nKSB7XG4gICAgaWYgKGV2ZW50LnN0YXRlID09PSAnZG9uZScpIHRhbGx5LnVuZG9uZSArPSAxO1xuICAgIGlmIChldmVudC5zdGF0ZSA9PT0gJ2ZhaWxlZCcgfHwgZXZlbnQuc3RhdGUgPT09ICdpbXBvc3NpYmxlJykgdGFsbHkubm90VW5kb25lLnB1c2gobGVmdFRleHQoZXZlbnQpKTtcbiAgfVxufVxuXG4vKiogV2hhdCBjb3VsZCBub3QgYmUgdGFrZW4gYmFjay4gKi9cbmNvbnN0IGxlZnRUZXh0ID0gKHsgc3RlcCwgbGFiZWwsIHJvdywgcHJvYmxlbSB9OiBVbmRvRXZlbnQpOiBzdHJpbmcgPT5cbiAgYCR7cm93ID09PSB1bmRlZmluZWQgPyAnJyA6IGByb3cgJHtyb3d9OiBgfSR7c3RlcH0gYnkgJHtsYWJlbH0ke3Byb2JsZW0gPyBgOiAke3Byb2JsZW0ud2hhdH1gIDogJyd9YDtcblxuZXhwb3J0IGZ1bmN0aW9uIHN1bW1hcnlPZihcbiAgdGFsbHk6IFRhbGx5LFxuICBmYWN0czogUGljazxTdW1tYXJ5LCAncnVuJyB8ICdpbnRlcnJ1cHRlZCcgfCAndGltZSc+ICYgeyByZWFkb25seSBoYXNSb3dzOiBib29sZWFuOyByZWFkb25seSBwYXRpZW5jZTogUGF0aWVuY2UgfSxcbik6IFN1bW1hcnkge1xuICBjb25zdCB7IHJvd3MsIC4uLmNvdW50cyB9ID0gdGFsbHk7XG4gIGNvbnN0IHsgcnVuLCBpbnRlcnJ1cHRlZCwgdGltZSwgaGFzUm93cywgcGF0aWVuY2UgfSA9IGZhY3RzO1xuICByZXR1cm4ge1xuICAgIHJ1bixcbiAgICBvazogdGFsbHkucHJvYmxlbSA9PT0gdW5kZWZpbmVkLFxuICAgIGludGVycnVwdGVkLFxuICAgIHJvd3M6IGhhc1Jvd3MgPyByb3dzIDogdW5kZWZpbmVkLFxuICAgIC4uLmNvdW50cyxcbiAgICAuLi5wYXRpZW5jZSxcbiAgICB0aW1lLFxuICB9O1xufVxuIiwgIi8qKiBBIHRyYWlsIG9uY2UgYSByb3cuICovXG5pbXBvcnQgeyBzaG9ydFRleHQgfSBmcm9tICcuLi9tYXRjaGVyL3JlYWRpbmcuanMnO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgdHlwZSB7IFZhbHVlTWFwIH0gZnJvbSAnLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyBncmF2ZXIgfSBmcm9tICcuL2dyYXZpdHkuanMnO1xuaW1wb3J0IHR5cGUgeyBKb3VybmFsIH0gZnJvbSAnLi9qb3VybmFsL2pvdXJuYWwuanMnO1xuaW1wb3J0IHsgbWFueUF0T25jZSB9IGZyb20gJy4vbWFueS5qcyc7XG5pbXBvcnQgdHlwZSB7IFJvdyB9IGZyb20gJy4vcm93cy9yb3ctc291cmNlLmpzJztcbmltcG9ydCB0eXBlIHsgUm93c1BsYW4gfSBmcm9tICcuL3Jvd3Mvcm93cy1wbGFuLmpzJztcbmltcG9ydCB0eXBlIHsgU2NvcGUgfSBmcm9tICcuL3Njb3BlLmpzJztcbmltcG9ydCB7IGZyb21Db21tYW5kTGluZSwgaW5wdXRTY29wZSwgc3RhcnRTY29wZSB9IGZyb20gJy4vc3RhcnQtc2NvcGUuanMnO1xuaW1wb3J0IHR5cGUgeyBUcmFpbFBsYW4sIFdhbGsgfSBmcm9tICcuL3N0ZXAta2luZC5qcyc7XG5pbXBvcnQgeyBsaW5lT2YsIG9wZW5UYWJsZSwgc2V0dGxlVGFibGUsIHR5cGUgVGFibGUgfSBmcm9tICcuL3RhYmxlLmpzJztcbmltcG9ydCB0eXBlIHsgVGFsbHkgfSBmcm9tICcuL3RhbGx5LmpzJztcbmltcG9ydCB7IHR5cGUgV2Fsa2VkLCB3YWxrV2l0aFVuZG8gfSBmcm9tICcuL3VuZG9pbmcuanMnO1xuaW1wb3J0IHR5cGUgeyBXYWxrU2V0dGluZ3MgfSBmcm9tICcuL3dhbGsuanMnO1xuaW1wb3J0IHR5cGUgeyBXb3Jrc3BhY2UgfSBmcm9tICcuL3dvcmtzcGFjZS5qcyc7XG5cbi8qKiBTbyBtYW55IGF0IG9uY2UsIGFzIHRoZXkgY29tZTsgbWVtb3J5IGhvbGRzIG9ubHkgdGhvc2UuICovXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gd2Fsa1Jvd3MoXG4gIHBsYW46IFRyYWlsUGxhbixcbiAgcm93czogUm93c1BsYW4sXG4gIHdvcmtzcGFjZTogV29ya3NwYWNlLFxuICB3YWxrT2Y6IChzY29wZTogU2NvcGUsIHJvdzogbnVtYmVyLCBsYWJlbDogc3RyaW5nKSA9PiBXYWxrLFxuICB0YWxseTogVGFsbHksXG4gIHsgam91cm5hbCwgbnVtYmVyID0gMCwgcm93czogb25seSwgc2lnbmFsLCB1bmRvU2lnbmFsLCByZXBvcnQgfTogV2Fsa1NldHRpbmdzLFxuICBlbmRpbmc6IEFib3J0U2lnbmFsLFxuKTogUHJvbWlzZTx2b2lkPiB7XG4gIGNvbnN0IGdpdmVuID0gZnJvbUNvbW1hbmRMaW5lKHdvcmtzcGFjZSk7XG4gIC8vIFdoZXJlIG5vdGhpbmcgaXMgc2VudCwgdGhlcmUgYXJlIG5vIGFuc3dlcnMgdG8gbWFrZSBsaW5lcyBvZi5cbiAgY29uc3QgbGluZXMgPSB3b3Jrc3BhY2UuZHJ5UnVuID8gdW5kZWZpbmVkIDogcGxhbi50YWJsZTtcbiAgY29uc3QgdGFibGUgPSBsaW5lcyAmJiAoYXdhaXQgb3BlblRhYmxlKGxpbmVzLCB3b3Jrc3BhY2UuY29sbGVjdGlvbi5yb290KSk7XG4gIGNvbnN0IHNvdXJjZSA9IHJvd3MucmVhZCh3b3Jrc3BhY2UsIGlucHV0U2NvcGUocGxhbiwgd29ya3NwYWNlLCBnaXZlbikpO1xuICBjb25zdCBlbmRlZCA9IGF3YWl0IG1hbnlBdE9uY2UoXG4gICAgc291cmNlW1N5bWJvbC5hc3luY0l0ZXJhdG9yXSgpLFxuICAgIHBsYW4uYXRPbmNlLFxuICAgIGFzeW5jIChjb2x1bW5zLCBwbGFjZSkgPT4ge1xuICAgICAgaWYgKG9ubHkgJiYgIW9ubHkuaGFzKHBsYWNlKSkgcmV0dXJuO1xuICAgICAgY29uc3Qgcm93OiBSb3cgPSB7IG51bWJlcjogcGxhY2UsIGNvbHVtbnMgfTtcbiAgICAgIGNvbnN0IGJlZm9yZSA9IGpvdXJuYWw/LnJvd0JlZm9yZShudW1iZXIsIHJvdy5udW1iZXIpO1xuICAgICAgaWYgKGJlZm9yZSAhPT0gdW5kZWZpbmVkKSB7XG4gICAgICAgIGF3YWl0IGtlcHRMaW5lKHRhYmxlLCByb3cubnVtYmVyLCBqb3VybmFsLCBgJHtudW1iZXJ9LiR7cm93Lm51bWJlcn1gKTtcbiAgICAgICAgdGFsbHkucm93c1tiZWZvcmUgPyAnb2snIDogJ2ZhaWxlZCddICs9IDE7XG4gICAgICAgIHRhbGx5LnJvd3MuYmVmb3JlICs9IDE7XG4gICAgICAgIGlmICghYmVmb3JlKSB0YWxseS5wcm9ibGVtID0gZ3JhdmVyKHRhbGx5LnByb2JsZW0sIGZhaWxlZEJlZm9yZShyb3cpKTtcbiAgICAgICAgcmV0dXJuO1xuICAgICAgfVxuICAgICAgY29uc3QgbGFiZWwgPSBsYWJlbE9mKHJvdyk7XG4gICAgICBjb25zdCB3YWxrID0gd2Fsa09mKHN0YXJ0U2NvcGUocGxhbiwgd29ya3NwYWNlLCBnaXZlbiwgcm93KSwgcm93Lm51bWJlciwgbGFiZWwpO1xuICAgICAgY29uc3QgeyBwcm9ibGVtLCB0YWtlbkJhY2sgfSA9IGF3YWl0IHdhbGtSb3cocGxhbiwgd2Fsaywgcm93LCB0YWJsZSwgdW5kb1NpZ25hbCk7XG4gICAgICAvLyBBIHJvdyB0aGF0IHdhcyBpbnRlcnJ1cHRlZCBpcyBnb25lIG9uIHdpdGggd2hlbiB0aGUgcnVuIGlzIHJlc3VtZWQsIHVubGVzcyBpdCB3YXMgdGFrZW4gYmFjay5cbiAgICAgIGlmIChzaWduYWwuYWJvcnRlZCAmJiBwcm9ibGVtICYmICF0YWtlbkJhY2spIHJldHVybjtcbiAgICAgIHJlcG9ydCh7IGV2ZW50OiAncm93Jywgcm93OiByb3cubnVtYmVyLCBvazogIXByb2JsZW0sIGxhYmVsLCBwcm9ibGVtIH0pO1xuICAgICAgam91cm5hbD8ucm93KG51bWJlciwgcm93Lm51bWJlciwgbGFiZWwsIHByb2JsZW0pO1xuICAgICAgaWYgKHByb2JsZW0pIHRhbGx5LnByb2JsZW0gPSBncmF2ZXIodGFsbHkucHJvYmxlbSwgcHJvYmxlbSk7XG4gICAgfSxcbiAgICBlbmRpbmcsXG4gICk7XG4gIHRhbGx5LmVuZGVkID0gZW5kZWQ7XG4gIGlmIChlbmRlZCkgdGFsbHkucHJvYmxlbSA9IGdyYXZlcih0YWxseS5wcm9ibGVtLCBlbmRlZCk7XG4gIGlmICghbGluZXMgfHwgIXRhYmxlKSByZXR1cm47XG4gIGlmIChlbmRpbmcuYWJvcnRlZCkgcmV0dXJuIHRhYmxlLmFiYW5kb24oKTtcbiAgcmVwb3J0KGF3YWl0IHNldHRsZVRhYmxlKGxpbmVzLCB0YWJsZSwgcGxhbi5uYW1lLCB1bmRlZmluZWQpKTtcbn1cblxuYXN5bmMgZnVuY3Rpb24gd2Fsa1JvdyhcbiAgcGxhbjogVHJhaWxQbGFuLFxuICB3YWxrOiBXYWxrLFxuICByb3c6IFJvdyxcbiAgdGFibGU6IFRhYmxlIHwgdW5kZWZpbmVkLFxuICB1bmRvU2lnbmFsOiBBYm9ydFNpZ25hbCB8IHVuZGVmaW5lZCxcbik6IFByb21pc2U8V2Fsa2VkPiB7XG4gIGNvbnN0IHdhbGtlZCA9IGF3YWl0IHdhbGtXaXRoVW5kbyhwbGFuLCB3YWxrLCB1bmRvU2lnbmFsKTtcbiAgaWYgKCFwbGFuLnRhYmxlIHx8ICF0YWJsZSkgcmV0dXJuIHdhbGtlZDtcbiAgY29uc3QgeyBjZWxscywgcHJvYmxlbSB9ID0gbGluZU9mKHBsYW4udGFibGUsIHdhbGssIHdhbGtlZC5wcm9ibGVtKTtcbiAgd2Fsay5qb3VybmFsPy5jZWxscyh3YWxrLmF0LCBjZWxscyk7XG4gIGF3YWl0IHRhYmxlLmFkZChyb3cubnVtYmVyLCBjZWxscyk7XG4gIHJldHVybiB7IC4uLndhbGtlZCwgcHJvYmxlbSB9O1xufVxuXG4vKiogVGhlIGxpbmUgdGhhdCBhIHJvdyBsZWZ0IGluIGFuIGVhcmxpZXIgY29tbWFuZC4gKi9cbmFzeW5jIGZ1bmN0aW9uIGtlcHRMaW5lKFxuICB0YWJsZTogVGFibGUgfCB1bmRlZmluZWQsXG4gIG51bWJlcjogbnVtYmVyLFxuICBqb3VybmFsOiBKb3VybmFsIHwgdW5kZWZpbmVkLFxuICBhdDogc3RyaW5nLFxuKTogUHJvbWlzZTx2b2lkPiB7XG4gIGNvbnN0IGNlbGxzID0gam91cm5hbD8uY2VsbHNCZWZvcmUoYXQpIGFzIFZhbHVlTWFwIHwgdW5kZWZpbmVkO1xuICBpZiAodGFibGUgJiYgY2VsbHMpIGF3YWl0IHRhYmxlLmFkZChudW1iZXIsIGNlbGxzKTtcbn1cblxuY29uc3QgZmFpbGVkQmVmb3JlID0gKHsgbnVtYmVyIH06IFJvdyk6IFByb2JsZW0gPT5cbiAgbmV3IFByb2JsZW0oJ3N0ZXAtZmFpbGVkJywgeyB3aGF0OiBgcm93ICR7bnVtYmVyfSBmYWlsZWQgYmVmb3JlIHRoZSBydW4gd2FzIHJlc3VtZWRgIH0pO1xuXG4vKiogTmVlZHMgbm8gcXVvdGluZyBhbmQgbm8gY3V0dGluZy4gKi9cbmNvbnN0IHBsYWluV29yZCA9IC9eW1xcdyAuOi1dezEsMTAwfSQvO1xuXG4vKiogV2hhdCBhIHJvdyBpcyB0b2xkIGFwYXJ0IGJ5OiB0aGUgdmFsdWUgb2YgaXRzIGZpcnN0IGNvbHVtbi4gKi9cbmZ1bmN0aW9uIGxhYmVsT2YoeyBjb2x1bW5zIH06IFJvdyk6IHN0cmluZyB7XG4gIGZvciAoY29uc3QgbmFtZSBpbiBjb2x1bW5zKSB7XG4gICAgY29uc3QgdmFsdWUgPSBjb2x1bW5zW25hbWVdO1xuICAgIHJldHVybiB0eXBlb2YgdmFsdWUgPT09ICdzdHJpbmcnICYmIHBsYWluV29yZC50ZXN0KHZhbHVlKSA/IHZhbHVlIDogc2hvcnRUZXh0KHZhbHVlKS5yZXBsYWNlKC9eXCJ8XCIkL2csICcnKTtcbiAgfVxuICByZXR1cm4gJyc7XG59XG4iLCAiLyoqIFRoZSBlbmdpbmU6IGEgdHJhaWwgb25jZSwgb3Igb25jZSBhIHJvdywgc28gbWFueSBhdCBvbmNlOyB1bmRvIHBhcnRzIGFmdGVyLCBzZXNzaW9ucyBjbG9zZWQgbGFzdC4gKi9cbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHsgY2xvc2VTZXNzaW9ucyB9IGZyb20gJy4vY2xvc2luZy5qcyc7XG5pbXBvcnQgdHlwZSB7IFN1bW1hcnksIFdhbGtFdmVudCB9IGZyb20gJy4vZXZlbnRzLmpzJztcbmltcG9ydCB7IGdyYXZlciB9IGZyb20gJy4vZ3Jhdml0eS5qcyc7XG5pbXBvcnQgdHlwZSB7IEpvdXJuYWwgfSBmcm9tICcuL2pvdXJuYWwvam91cm5hbC5qcyc7XG5pbXBvcnQgdHlwZSB7IFNjb3BlIH0gZnJvbSAnLi9zY29wZS5qcyc7XG5pbXBvcnQgeyBmcm9tQ29tbWFuZExpbmUsIHN0YXJ0U2NvcGUgfSBmcm9tICcuL3N0YXJ0LXNjb3BlLmpzJztcbmltcG9ydCB0eXBlIHsgSGFuZGxlZCwgVHJhaWxQbGFuLCBXYWxrIH0gZnJvbSAnLi9zdGVwLWtpbmQuanMnO1xuaW1wb3J0IHsgY291bnQsIG5ld1RhbGx5LCBzdW1tYXJ5T2YgfSBmcm9tICcuL3RhbGx5LmpzJztcbmltcG9ydCB7IHdhbGtXaXRoVW5kbyB9IGZyb20gJy4vdW5kb2luZy5qcyc7XG5pbXBvcnQgeyB3YWxrUm93cyB9IGZyb20gJy4vd2Fsay1yb3dzLmpzJztcbmltcG9ydCB7IHdhbGtTdGVwcyB9IGZyb20gJy4vd2Fsay1zdGVwcy5qcyc7XG5pbXBvcnQgdHlwZSB7IFdvcmtzcGFjZSB9IGZyb20gJy4vd29ya3NwYWNlLmpzJztcblxuZXhwb3J0IGludGVyZmFjZSBXYWxrU2V0dGluZ3Mge1xuICByZWFkb25seSByZXBvcnQ6IChldmVudDogV2Fsa0V2ZW50KSA9PiB2b2lkO1xuICAvKiogRW5kcyB0aGUgd2FsazsgdW5kbyBwYXJ0cyBydW4gYWZ0ZXIgaXQuICovXG4gIHJlYWRvbmx5IHNpZ25hbDogQWJvcnRTaWduYWw7XG4gIC8qKiBFbmRzIHRoZSB1bmRvIHBhcnRzIHRvby4gKi9cbiAgcmVhZG9ubHkgdW5kb1NpZ25hbD86IEFib3J0U2lnbmFsIHwgdW5kZWZpbmVkO1xuICAvKiogV2hpY2ggb2YgdGhlIHdhbGtzIG9mIGEgY29tbWFuZCBpdCBpcywgZnJvbSAwLiAqL1xuICByZWFkb25seSBudW1iZXI/OiBudW1iZXI7XG4gIHJlYWRvbmx5IGpvdXJuYWw/OiBKb3VybmFsIHwgdW5kZWZpbmVkO1xuICAvKiogT25seSB0aGVzZSByb3dzOyBhbGwgd2hlcmUgbm90aGluZyBpcyBzYWlkLiAqL1xuICByZWFkb25seSByb3dzPzogUmVhZG9ubHlTZXQ8bnVtYmVyPiB8IHVuZGVmaW5lZDtcbiAgLyoqIE5vIGZ1cnRoZXIgcm93IG9yIGl0ZXJhdGlvbiBpcyBiZWd1biBvbmNlIG9uZSBoYXMgZmFpbGVkLiAqL1xuICByZWFkb25seSBzdG9wQXRGaXJzdEZhaWx1cmU/OiBib29sZWFuIHwgdW5kZWZpbmVkO1xuICAvKiogV2hhdCBgb25jZS1ieWAgcGFzc2VzIG92ZXI7IGtlcHQgZnJvbSBvbmUgd2FsayB0byB0aGUgbmV4dC4gKi9cbiAgcmVhZG9ubHkgaGFuZGxlZD86IEhhbmRsZWQgfCB1bmRlZmluZWQ7XG59XG5cbi8qKlxuICogV2Fsa3MgYSB0cmFpbCwgb25jZSBvciBvbmNlIGEgcm93LiBXaGF0IGZhaWxzIG9uIHRoZSB3YXkgaXMgaW4gdGhlIHN1bW1hcnkuXG4gKiBAdGhyb3dzIFByb2JsZW06IGFuIGlucHV0IHRoYXQgaXMgbWlzc2luZywgcm93cyB0aGF0IGNhbm5vdCBiZSByZWFkXG4gKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiB3YWxrVHJhaWwod29ya3NwYWNlOiBXb3Jrc3BhY2UsIHBsYW46IFRyYWlsUGxhbiwgc2V0dGluZ3M6IFdhbGtTZXR0aW5ncyk6IFByb21pc2U8U3VtbWFyeT4ge1xuICBjb25zdCBzdGFydGVkID0gcGVyZm9ybWFuY2Uubm93KCk7XG4gIGNvbnN0IHsgam91cm5hbCwgbnVtYmVyID0gMCB9ID0gc2V0dGluZ3M7XG4gIGNvbnN0IHRhbGx5ID0gbmV3VGFsbHkoKTtcbiAgLy8gV2hhdCBhbiBlYXJsaWVyIGNvbW1hbmQgY291bGQgbm90IHNheSBvZiBpdHMgY2FsbHMgaXMgc3RpbGwgbm90IGtub3duLlxuICB0YWxseS5pbkRvdWJ0LnB1c2goLi4uKGpvdXJuYWw/LmRvdWJ0c0JlZm9yZShudW1iZXIpID8/IFtdKSk7XG4gIGNvbnN0IHBhdGllbmNlID0geyAuLi53b3Jrc3BhY2UucGF0aWVuY2UgfTtcbiAgY29uc3Qgc3RvcCA9IG5ldyBBYm9ydENvbnRyb2xsZXIoKTtcbiAgY29uc3QgeyBzaWduYWwgfSA9IHNldHRpbmdzO1xuICBjb25zdCBlbmRpbmcgPSBzZXR0aW5ncy5zdG9wQXRGaXJzdEZhaWx1cmUgPyBBYm9ydFNpZ25hbC5hbnkoW3NpZ25hbCwgc3RvcC5zaWduYWxdKSA6IHNpZ25hbDtcbiAgY29uc3QgcmVwb3J0ID0gKGV2ZW50OiBXYWxrRXZlbnQpOiB2b2lkID0+IHtcbiAgICBjb3VudChldmVudCwgdGFsbHkpO1xuICAgIHNldHRpbmdzLnJlcG9ydChldmVudCk7XG4gICAgaWYgKHNldHRpbmdzLnN0b3BBdEZpcnN0RmFpbHVyZSAmJiBldmVudC5ldmVudCA9PT0gJ3N0ZXAnICYmIGV2ZW50LnN0YXRlID09PSAnZmFpbGVkJykgc3RvcC5hYm9ydCgpO1xuICB9O1xuICB3b3Jrc3BhY2Uub25TZXNzaW9uT3BlbmVkID0gKG5hbWUpID0+IHJlcG9ydCh7IGV2ZW50OiAnc2Vzc2lvbi1vcGVuZWQnLCBuYW1lLCBwcm9ibGVtOiB1bmRlZmluZWQgfSk7XG4gIHdvcmtzcGFjZS5vbldhaXQgPSAod2FpdCkgPT4gcmVwb3J0KHsgZXZlbnQ6ICd3YWl0aW5nJywgLi4ud2FpdCB9KTtcbiAgY29uc3Qgd2Fsa09mID0gKHNjb3BlOiBTY29wZSwgcm93PzogbnVtYmVyLCByb3dMYWJlbD86IHN0cmluZyk6IFdhbGsgPT4gKHtcbiAgICB3b3Jrc3BhY2UsXG4gICAgc2NvcGUsXG4gICAgcm93LFxuICAgIHJvd0xhYmVsLFxuICAgIGF0OiByb3cgPT09IHVuZGVmaW5lZCA/IFN0cmluZyhudW1iZXIpIDogYCR7bnVtYmVyfS4ke3Jvd31gLFxuICAgIGRlcHRoOiAwLFxuICAgIHNpZ25hbCxcbiAgICBlbmRpbmcsXG4gICAgdW5kbzogW10sXG4gICAgZG91YnQoY2FsbCkge1xuICAgICAgdGFsbHkuaW5Eb3VidC5wdXNoKGNhbGwpO1xuICAgICAgam91cm5hbD8uZG91YnQobnVtYmVyLCBjYWxsKTtcbiAgICB9LFxuICAgIGpvdXJuYWwsXG4gICAgdGFibGU6IHBsYW4udGFibGUsXG4gICAgbGFzdDogeyBjZWxsczoge30gfSxcbiAgICBoYW5kbGVkOiBzZXR0aW5ncy5oYW5kbGVkID8/IG5ldyBNYXAoKSxcbiAgICByZXBvcnQsXG4gICAgc3RlcHM6IHdhbGtTdGVwcyxcbiAgfSk7XG4gIHRyeSB7XG4gICAgaWYgKHBsYW4ucm93cykgYXdhaXQgd2Fsa1Jvd3MocGxhbiwgcGxhbi5yb3dzLCB3b3Jrc3BhY2UsIHdhbGtPZiwgdGFsbHksIHsgLi4uc2V0dGluZ3MsIHJlcG9ydCB9LCBlbmRpbmcpO1xuICAgIGVsc2Uge1xuICAgICAgY29uc3Qgd2FsayA9IHdhbGtPZihzdGFydFNjb3BlKHBsYW4sIHdvcmtzcGFjZSwgZnJvbUNvbW1hbmRMaW5lKHdvcmtzcGFjZSkpKTtcbiAgICAgIGNvbnN0IHdhbGtlZCA9IGF3YWl0IHdhbGtXaXRoVW5kbyhwbGFuLCB3YWxrLCBzZXR0aW5ncy51bmRvU2lnbmFsKTtcbiAgICAgIGlmICh3YWxrZWQucHJvYmxlbSkgdGFsbHkucHJvYmxlbSA9IGdyYXZlcih0YWxseS5wcm9ibGVtLCB3YWxrZWQucHJvYmxlbSk7XG4gICAgICAvLyBXaGF0IHdhcyB0YWtlbiBiYWNrIGlzIG5vdCBnb25lIG9uIHdpdGguXG4gICAgICBpZiAoc2lnbmFsLmFib3J0ZWQgJiYgd2Fsa2VkLnRha2VuQmFjaykgYXdhaXQgam91cm5hbD8ud2Fsa2VkKG51bWJlciwgZmFsc2UpO1xuICAgIH1cbiAgfSBmaW5hbGx5IHtcbiAgICBhd2FpdCBjbG9zZVNlc3Npb25zKHdvcmtzcGFjZSwgcmVwb3J0KTtcbiAgICB3b3Jrc3BhY2Uub25TZXNzaW9uT3BlbmVkID0gdW5kZWZpbmVkO1xuICAgIHdvcmtzcGFjZS5vbldhaXQgPSB1bmRlZmluZWQ7XG4gIH1cbiAgY29uc3QgaW50ZXJydXB0ZWQgPSBzZXR0aW5ncy5zaWduYWwuYWJvcnRlZDtcbiAgaWYgKGludGVycnVwdGVkKSB0YWxseS5wcm9ibGVtID0gbmV3IFByb2JsZW0oJ2ludGVycnVwdGVkJywgeyB3aGF0OiAnaW50ZXJydXB0ZWQnIH0pO1xuICAvLyBXaGVyZSByb3dzIHdlcmUgbm90IGJlZ3VuIGFueSBtb3JlLCB0aGVyZSBpcyBzb21ldGhpbmcgbGVmdCB0byBnbyBvbiB3aXRoLlxuICBlbHNlIGlmICghKHBsYW4ucm93cyAmJiBlbmRpbmcuYWJvcnRlZCkpIGF3YWl0IGpvdXJuYWw/LndhbGtlZChudW1iZXIsIHRhbGx5LnByb2JsZW0gPT09IHVuZGVmaW5lZCk7XG4gIHJldHVybiBzdW1tYXJ5T2YodGFsbHksIHtcbiAgICBydW46IGpvdXJuYWw/LnJ1biA/PyB3b3Jrc3BhY2UubG9nLnJ1bixcbiAgICBpbnRlcnJ1cHRlZCxcbiAgICB0aW1lOiBwZXJmb3JtYW5jZS5ub3coKSAtIHN0YXJ0ZWQsXG4gICAgaGFzUm93czogcGxhbi5yb3dzICE9PSB1bmRlZmluZWQsXG4gICAgcGF0aWVuY2U6IHtcbiAgICAgIHJlZnVzZWQ6IHdvcmtzcGFjZS5wYXRpZW5jZS5yZWZ1c2VkIC0gcGF0aWVuY2UucmVmdXNlZCxcbiAgICAgIHRyaWVkQWdhaW46IHdvcmtzcGFjZS5wYXRpZW5jZS50cmllZEFnYWluIC0gcGF0aWVuY2UudHJpZWRBZ2FpbixcbiAgICAgIHdhaXRlZDogd29ya3NwYWNlLnBhdGllbmNlLndhaXRlZCAtIHBhdGllbmNlLndhaXRlZCxcbiAgICB9LFxuICB9KTtcbn1cbiIsICIvKiogSG93IGZhciBhIHdhbGsgaXMsIGluIGxpbmVzIHRoYXQgYXJlIHJld3JpdHRlbiB3aGlsZSBzb21lYm9keSB3YXRjaGVzLiAqL1xuaW1wb3J0IHR5cGUgeyBXYWxrRXZlbnQgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL2V2ZW50cy5qcyc7XG5pbXBvcnQgdHlwZSB7IFBhdGllbmNlIH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC9wYWNpbmcvdHJpZXMuanMnO1xuaW1wb3J0IHR5cGUgeyBUcmFpbFBsYW4gfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3N0ZXAta2luZC5qcyc7XG5pbXBvcnQgeyBkdXJhdGlvblRleHQgfSBmcm9tICcuLi8uLi9jb3JlL3ZhbHVlL21lYXN1cmVzLmpzJztcbmltcG9ydCB0eXBlIHsgVGVybWluYWwgfSBmcm9tICcuLi90ZXJtaW5hbC5qcyc7XG5cbmV4cG9ydCBpbnRlcmZhY2UgTGl2ZVZpZXcge1xuICB0YWtlKGV2ZW50OiBXYWxrRXZlbnQpOiB2b2lkO1xuICBlbmQoKTogdm9pZDtcbn1cblxuY29uc3Qgbm9ib2R5V2F0Y2hlczogTGl2ZVZpZXcgPSB7IHRha2U6ICgpID0+IHVuZGVmaW5lZCwgZW5kOiAoKSA9PiB1bmRlZmluZWQgfTtcblxuY29uc3Qgd2hvbGVTZWNvbmRzID0gKG1zOiBudW1iZXIpOiBzdHJpbmcgPT4gZHVyYXRpb25UZXh0KG1zKS5yZXBsYWNlKC9cXC5cXGQrIHMvLCAnIHMnKTtcblxuLyoqIE1pbGxpc2Vjb25kcyBiZXR3ZWVuIHR3byBwaWN0dXJlcy4gKi9cbmNvbnN0IHJlZnJlc2ggPSAyNTA7XG4vKiogT3ZlciBzbyBtYW55IG1pbGxpc2Vjb25kcyB0aGUgcmF0ZSBpcyB0YWtlbi4gKi9cbmNvbnN0IHNwYW4gPSA1MDAwO1xuXG4vKiogQHBhcmFtIHBhdGllbmNlIGNvdW50cyB3aGF0IGhvc3RzIHJlZnVzZSwgZnJvbSBiZWZvcmUgdGhlIHdhbGsgKi9cbmV4cG9ydCBmdW5jdGlvbiBsaXZlVmlldyh7IG5hbWUsIHJvd3MgfTogVHJhaWxQbGFuLCBwYXRpZW5jZTogUmVhZG9ubHk8UGF0aWVuY2U+LCB0ZXJtaW5hbDogVGVybWluYWwpOiBMaXZlVmlldyB7XG4gIGlmICghdGVybWluYWwubGl2ZSkgcmV0dXJuIG5vYm9keVdhdGNoZXM7XG4gIGNvbnN0IHN0YXJ0ZWQgPSBwZXJmb3JtYW5jZS5ub3coKTtcbiAgY29uc3QgYmVmb3JlID0geyAuLi5wYXRpZW5jZSB9O1xuICBsZXQgW2RvbmUsIGZhaWxlZCwgc3RlcHMsIGZhaWxlZFN0ZXBzXSA9IFswLCAwLCAwLCAwXTtcbiAgbGV0IGxhdGVzdCA9ICcnO1xuICBsZXQgYWJvdXQ6IG51bWJlciB8IHVuZGVmaW5lZDtcbiAgbGV0IHdhaXRpbmc6IHsgaG9zdDogc3RyaW5nOyB1bnRpbDogbnVtYmVyOyB3aHk6IHN0cmluZyB9IHwgdW5kZWZpbmVkO1xuICBjb25zdCBwYXN0OiB7IGF0OiBudW1iZXI7IGNvdW50OiBudW1iZXIgfVtdID0gW107XG5cbiAgY29uc3QgcmF0ZSA9IChjb3VudDogbnVtYmVyKTogbnVtYmVyID0+IHtcbiAgICBjb25zdCBub3cgPSBwZXJmb3JtYW5jZS5ub3coKTtcbiAgICBwYXN0LnB1c2goeyBhdDogbm93LCBjb3VudCB9KTtcbiAgICB3aGlsZSAocGFzdC5sZW5ndGggPiAxICYmIG5vdyAtIChwYXN0WzBdPy5hdCA/PyBub3cpID4gc3BhbikgcGFzdC5zaGlmdCgpO1xuICAgIGNvbnN0IFtmaXJzdF0gPSBwYXN0O1xuICAgIHJldHVybiBmaXJzdCAmJiBub3cgPiBmaXJzdC5hdCA/ICgoY291bnQgLSBmaXJzdC5jb3VudCkgKiAxMDAwKSAvIChub3cgLSBmaXJzdC5hdCkgOiAwO1xuICB9O1xuXG4gIGNvbnN0IHBpY3R1cmUgPSAoKTogc3RyaW5nID0+IHtcbiAgICBjb25zdCBlbGFwc2VkID0gd2hvbGVTZWNvbmRzKHBlcmZvcm1hbmNlLm5vdygpIC0gc3RhcnRlZCk7XG4gICAgY29uc3Qgc3BlZWQgPSByYXRlKHJvd3MgPyBkb25lIDogc3RlcHMpO1xuICAgIGNvbnN0IGZhY3RzID0gcm93c1xuICAgICAgPyBbXG4gICAgICAgICAgYCR7ZG9uZX0ke2Fib3V0ID09PSB1bmRlZmluZWQgPyAnJyA6IGAgb2YgJHthYm91dH1gfSByb3dzYCxcbiAgICAgICAgICBmYWlsZWQgPiAwICYmIGAke2ZhaWxlZH0gZmFpbGVkYCxcbiAgICAgICAgICBgJHtzcGVlZC50b0ZpeGVkKHNwZWVkIDwgMTAgPyAxIDogMCl9IGEgc2Vjb25kYCxcbiAgICAgICAgICBhYm91dCAhPT0gdW5kZWZpbmVkICYmIHNwZWVkID4gMCAmJiBkb25lIDwgYWJvdXQgJiYgYCR7d2hvbGVTZWNvbmRzKCgoYWJvdXQgLSBkb25lKSAvIHNwZWVkKSAqIDEwMDApfSBsZWZ0YCxcbiAgICAgICAgXVxuICAgICAgOiBbYCR7c3RlcHN9IHN0ZXBzYCwgZmFpbGVkU3RlcHMgPiAwICYmIGAke2ZhaWxlZFN0ZXBzfSBmYWlsZWRgLCBzdGVwcyA+IDIwICYmIGAke3NwZWVkLnRvRml4ZWQoMCl9IGEgc2Vjb25kYF07XG4gICAgY29uc3QgbGluZXMgPSBbYCR7bmFtZX06ICR7Wy4uLmZhY3RzLCBlbGFwc2VkXS5maWx0ZXIoQm9vbGVhbikuam9pbignICAgJyl9YF07XG4gICAgaWYgKGxhdGVzdCAhPT0gJycpIGxpbmVzLnB1c2goYCAgbm93ICAgICAgJHtsYXRlc3R9YCk7XG4gICAgaWYgKHdhaXRpbmcpIHtcbiAgICAgIGNvbnN0IGxlZnQgPSB3YWl0aW5nLnVudGlsIC0gcGVyZm9ybWFuY2Uubm93KCk7XG4gICAgICBjb25zdCByZWZ1c2VkID0gYCR7cGF0aWVuY2UucmVmdXNlZCAtIGJlZm9yZS5yZWZ1c2VkfSByZWZ1c2VkYDtcbiAgICAgIGxpbmVzLnB1c2goXG4gICAgICAgIGxlZnQgPiAwXG4gICAgICAgICAgPyBgICB3YWl0aW5nICAke3dhaXRpbmcuaG9zdH0sICR7ZHVyYXRpb25UZXh0KGxlZnQpfSBtb3JlICgke3dhaXRpbmcud2h5fSk7ICR7cmVmdXNlZH1gXG4gICAgICAgICAgOiBgICAke3JlZnVzZWR9LCB3YWl0ZWQgJHtkdXJhdGlvblRleHQocGF0aWVuY2Uud2FpdGVkIC0gYmVmb3JlLndhaXRlZCl9YCxcbiAgICAgICk7XG4gICAgfVxuICAgIHJldHVybiBsaW5lcy5qb2luKCdcXG4nKTtcbiAgfTtcblxuICB2b2lkIHJvd3M/LmFib3V0KCkudGhlbihcbiAgICAoZm91bmQpID0+IHtcbiAgICAgIGFib3V0ID0gZm91bmQ7XG4gICAgfSxcbiAgICAoKSA9PiB1bmRlZmluZWQsXG4gICk7XG4gIGNvbnN0IHRpbWVyID0gc2V0SW50ZXJ2YWwoKCkgPT4gdGVybWluYWwucHJvZ3Jlc3MocGljdHVyZSgpKSwgcmVmcmVzaCk7XG4gIHJldHVybiB7XG4gICAgdGFrZShldmVudCkge1xuICAgICAgaWYgKGV2ZW50LmV2ZW50ID09PSAnc3RlcCcpIHtcbiAgICAgICAgc3RlcHMgKz0gMTtcbiAgICAgICAgaWYgKGV2ZW50LnN0YXRlID09PSAnZmFpbGVkJykgZmFpbGVkU3RlcHMgKz0gMTtcbiAgICAgICAgbGF0ZXN0ID0gYCR7ZXZlbnQucm93ID09PSB1bmRlZmluZWQgPyAnJyA6IGByb3cgJHtldmVudC5yb3d9IGB9JHtldmVudC5tZW1iZXIgPT09IHVuZGVmaW5lZCA/ICcnIDogYCR7ZXZlbnQubWVtYmVyfSBgfSR7ZXZlbnQubGFiZWx9YDtcbiAgICAgIH0gZWxzZSBpZiAoZXZlbnQuZXZlbnQgPT09ICdyb3cnKSB7XG4gICAgICAgIGRvbmUgKz0gMTtcbiAgICAgICAgaWYgKCFldmVudC5vaykgZmFpbGVkICs9IDE7XG4gICAgICB9IGVsc2UgaWYgKGV2ZW50LmV2ZW50ID09PSAnd2FpdGluZycpIHtcbiAgICAgICAgd2FpdGluZyA9IHsgaG9zdDogZXZlbnQuaG9zdCwgdW50aWw6IHBlcmZvcm1hbmNlLm5vdygpICsgZXZlbnQud2FpdCwgd2h5OiBldmVudC53aHkgfTtcbiAgICAgIH1cbiAgICB9LFxuICAgIGVuZCgpIHtcbiAgICAgIGNsZWFySW50ZXJ2YWwodGltZXIpO1xuICAgICAgdGVybWluYWwucHJvZ3Jlc3MoJycpO1xuICAgIH0sXG4gIH07XG59XG4iLCAiLyoqIFRlbGxpbmcgd2hhdCBhIHdhbGsgZG9lcywgYXMgaXQgZG9lcyBpdDogbGluZXMgZm9yIHBlb3BsZSwgbGluZXMgb2YgSlNPTiBmb3IgcHJvZ3JhbXMuICovXG5pbXBvcnQgdHlwZSB7IFN0ZXBFdmVudCwgV2Fsa0V2ZW50IH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC9ldmVudHMuanMnO1xuaW1wb3J0IHR5cGUgeyBNYXRyaXhNYWtlciB9IGZyb20gJy4uLy4uL2NvcmUvdHJhaWwvcnVuL21hdHJpeC5qcyc7XG5pbXBvcnQgdHlwZSB7IFRyYWlsUGxhbiB9IGZyb20gJy4uLy4uL2NvcmUvdHJhaWwvc3RlcC1raW5kLmpzJztcbmltcG9ydCB0eXBlIHsgV29ya3NwYWNlIH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC93b3Jrc3BhY2UuanMnO1xuaW1wb3J0IHR5cGUgeyBUZXJtaW5hbCB9IGZyb20gJy4uL3Rlcm1pbmFsLmpzJztcbmltcG9ydCB7IGV2ZW50TGluZXMgfSBmcm9tICcuLi92aWV3L3J1bi5qcyc7XG5pbXBvcnQgeyBldmVudERvY3VtZW50IH0gZnJvbSAnLi4vdmlldy9ydW4tZG9jdW1lbnRzLmpzJztcbmltcG9ydCB7IGxpdmVWaWV3IH0gZnJvbSAnLi9saXZlLXZpZXcuanMnO1xuXG5leHBvcnQgaW50ZXJmYWNlIFJlcG9ydGVyIHtcbiAgcmVhZG9ubHkgcmVwb3J0OiAoZXZlbnQ6IFdhbGtFdmVudCkgPT4gdm9pZDtcbiAgZW5kKCk6IHZvaWQ7XG59XG5cbi8qKiBAcGFyYW0gZW52aXJvbm1lbnQgbmFtZWQgd2hlcmUgdGhlcmUgYXJlIHNldmVyYWwgKi9cbmV4cG9ydCBmdW5jdGlvbiByZXBvcnRlcihcbiAgcGxhbjogVHJhaWxQbGFuLFxuICB3b3Jrc3BhY2U6IFdvcmtzcGFjZSxcbiAgdGVybWluYWw6IFRlcm1pbmFsLFxuICBtYXRyaXg6IE1hdHJpeE1ha2VyIHwgdW5kZWZpbmVkLFxuICBlbnZpcm9ubWVudDogc3RyaW5nIHwgdW5kZWZpbmVkLFxuKTogUmVwb3J0ZXIge1xuICBjb25zdCB7IGhpZGUgfSA9IHdvcmtzcGFjZS5yZWRhY3RvcjtcbiAgLy8gV2hhdCBmb2xsb3dzIHRoZSBuYW1lcyBzdGFuZHMgaW4gb25lIGNvbHVtbiwgdW5sZXNzIGEgbmFtZSBpcyB2ZXJ5IGxvbmcuXG4gIGNvbnN0IHdpZHRoID0gcGxhbi5yb3dzID8gMCA6IE1hdGgubWluKDQwLCBNYXRoLm1heCguLi5wbGFuLnN0ZXBzLm1hcCgoeyBsYWJlbCB9KSA9PiBsYWJlbC5sZW5ndGgpKSk7XG4gIGNvbnN0IGxpdmUgPSBsaXZlVmlldyhwbGFuLCB3b3Jrc3BhY2UucGF0aWVuY2UsIHRlcm1pbmFsKTtcbiAgY29uc3QgYWxpa2UgPSBhbGlrZUZhaWx1cmVzKCk7XG4gIGxldCBzaG93biA9IDA7XG4gIC8qKiBXaGF0IHdlbnQgd2VsbCBvZiBtYW55IGlzIG5vdCB0b2xkOiBhIHJ1biBoYXMgdGhvdXNhbmRzIG9mIGl0LiBXaGVyZSBub3RoaW5nIGlzIHNlbnQsIHRoZSBmaXJzdCBhcmUgd2hhdCBvbmUgd2FudHMgdG8gc2VlLiAqL1xuICBjb25zdCBxdWlldGx5ID0gKGV2ZW50OiBXYWxrRXZlbnQpOiBib29sZWFuID0+IHtcbiAgICBpZiAoIXdlbnRXZWxsKGV2ZW50KSkgcmV0dXJuIGZhbHNlO1xuICAgIGlmICghd29ya3NwYWNlLmRyeVJ1biB8fCBldmVudC5ldmVudCA9PT0gJ3JvdycpIHJldHVybiB0cnVlO1xuICAgIHNob3duICs9IDE7XG4gICAgcmV0dXJuIHNob3duID4gc2hvd25VbnNlbnQ7XG4gIH07XG4gIC8qKiBSb3dzIHdob3NlIGZhaWxpbmcgc3RlcCB3YXMgdG9sZC4gKi9cbiAgY29uc3Qgcm93c1RvbGQgPSBuZXcgU2V0PG51bWJlcj4oKTtcbiAgcmV0dXJuIHtcbiAgICByZXBvcnQoZXZlbnQpIHtcbiAgICAgIGxpdmUudGFrZShldmVudCk7XG4gICAgICBtYXRyaXg/LnRha2UoZXZlbnQsIGVudmlyb25tZW50KTtcbiAgICAgIGlmICghdGVybWluYWwuanNvbiAmJiAocXVpZXRseShldmVudCkgfHwgKG1hdHJpeCAmJiBpc09mUm93KGV2ZW50KSkpKSByZXR1cm47XG4gICAgICBjb25zdCB0b2xkID0gZXZlbnQuZXZlbnQgPT09ICdyb3cnICYmIHJvd3NUb2xkLmRlbGV0ZShldmVudC5yb3cpO1xuICAgICAgaWYgKGV2ZW50LmV2ZW50ID09PSAnc3RlcCcgJiYgZXZlbnQuc3RhdGUgPT09ICdmYWlsZWQnICYmIGV2ZW50LnJvdyAhPT0gdW5kZWZpbmVkKSByb3dzVG9sZC5hZGQoZXZlbnQucm93KTtcbiAgICAgIGlmICh0ZXJtaW5hbC5qc29uKSB7XG4gICAgICAgIGNvbnN0IGRvY3VtZW50ID0gZXZlbnREb2N1bWVudChldmVudCwgaGlkZSk7XG4gICAgICAgIHRlcm1pbmFsLnByaW50KGhpZGUoSlNPTi5zdHJpbmdpZnkoZW52aXJvbm1lbnQgPT09IHVuZGVmaW5lZCA/IGRvY3VtZW50IDogeyAuLi5kb2N1bWVudCwgZW52aXJvbm1lbnQgfSkpKTtcbiAgICAgIH0gZWxzZSBpZiAoZXZlbnQuZXZlbnQgPT09ICd3YWl0aW5nJykge1xuICAgICAgICAvLyBXaGVyZSBzb21lYm9keSB3YXRjaGVzLCB0aGUgbGl2ZSB2aWV3IHNheXMgc287IGEgbG9nIGhhcyBpdCBvbmNlIGZvciBlYWNoIGxvbmdlciB3YWl0LlxuICAgICAgICBpZiAoIXRlcm1pbmFsLmxpdmUgJiYgZXZlbnQuYWRkZWQgPiAwKVxuICAgICAgICAgIGZvciAoY29uc3QgbGluZSBvZiBldmVudExpbmVzKGV2ZW50LCB0ZXJtaW5hbCwgaGlkZSkpIHRlcm1pbmFsLm5vdGUobGluZSk7XG4gICAgICB9IGVsc2UgaWYgKGV2ZW50LmV2ZW50ID09PSAnc3RlcCcgJiYgZXZlbnQuc3RhdGUgPT09ICdmYWlsZWQnICYmIGlzT25lT2ZNYW55KGV2ZW50KSkge1xuICAgICAgICBmb3IgKGNvbnN0IGxpbmUgb2YgYWxpa2UudGFrZShldmVudCwgKCkgPT4gZXZlbnRMaW5lcyhldmVudCwgdGVybWluYWwsIGhpZGUsIHdpZHRoKSkpIHRlcm1pbmFsLnByaW50KGxpbmUpO1xuICAgICAgfSBlbHNlIGlmICh0b2xkKSB7XG4gICAgICAgIC8vIEl0cyBmYWlsaW5nIHN0ZXAgc2FpZCBhbGwuXG4gICAgICB9IGVsc2UgaWYgKCF0ZXJtaW5hbC5xdWlldCB8fCAoZXZlbnQuZXZlbnQgPT09ICdzdGVwJyAmJiBldmVudC5zdGF0ZSA9PT0gJ2ZhaWxlZCcpKSB7XG4gICAgICAgIGZvciAoY29uc3QgbGluZSBvZiBldmVudExpbmVzKGV2ZW50LCB0ZXJtaW5hbCwgaGlkZSwgd2lkdGgpKSB0ZXJtaW5hbC5wcmludChsaW5lKTtcbiAgICAgIH1cbiAgICB9LFxuICAgIGVuZCgpIHtcbiAgICAgIGxpdmUuZW5kKCk7XG4gICAgICBpZiAodGVybWluYWwuanNvbikgcmV0dXJuO1xuICAgICAgZm9yIChjb25zdCBsaW5lIG9mIGFsaWtlLnJlc3QoKSkgdGVybWluYWwucHJpbnQodGVybWluYWwub3V0LmRpbShsaW5lKSk7XG4gICAgICBpZiAoc2hvd24gPiBzaG93blVuc2VudClcbiAgICAgICAgdGVybWluYWwucHJpbnQodGVybWluYWwub3V0LmRpbShgICAgICAgICBhbmQgJHtzaG93biAtIHNob3duVW5zZW50fSBtb3JlOiAtLWpzb24gaGFzIHRoZW0gYWxsYCkpO1xuICAgIH0sXG4gIH07XG59XG5cbi8qKiBXaGF0IGEgbWF0cml4IGVuZHMgd2l0aC4gKi9cbmNvbnN0IGlzT2ZSb3cgPSAoZXZlbnQ6IFdhbGtFdmVudCk6IGJvb2xlYW4gPT5cbiAgZXZlbnQuZXZlbnQgPT09ICdyb3cnIHx8IChldmVudC5ldmVudCA9PT0gJ3N0ZXAnICYmIGV2ZW50LnJvdyAhPT0gdW5kZWZpbmVkKTtcblxuY29uc3Qgd2VudFdlbGwgPSAoZXZlbnQ6IFdhbGtFdmVudCk6IGJvb2xlYW4gPT5cbiAgZXZlbnQuZXZlbnQgPT09ICdyb3cnID8gZXZlbnQub2sgOiBldmVudC5ldmVudCA9PT0gJ3N0ZXAnICYmIGV2ZW50LnN0YXRlICE9PSAnZmFpbGVkJyAmJiBpc09uZU9mTWFueShldmVudCk7XG5cbmNvbnN0IGlzT25lT2ZNYW55ID0gKHsgcm93LCBtZW1iZXIgfTogU3RlcEV2ZW50KTogYm9vbGVhbiA9PiByb3cgIT09IHVuZGVmaW5lZCB8fCBtZW1iZXIgIT09IHVuZGVmaW5lZDtcblxuLyoqIFNvIG1hbnkgc3RlcHMgb2Ygcm93cyBvciBpdGVyYXRpb25zIGFyZSBzaG93biB3aGVyZSBub3RoaW5nIGlzIHNlbnQuICovXG5jb25zdCBzaG93blVuc2VudCA9IDIwO1xuXG4vKiogU28gbWFueSBmYWlsdXJlcyBvZiBvbmUgc3RlcCB0aGF0IHNheSB0aGUgc2FtZSBhcmUgdG9sZCBpbiBmdWxsLiAqL1xuY29uc3QgdG9sZE9mQUtpbmQgPSAzO1xuY29uc3QgbW9zdEtpbmRzID0gNTAwO1xuXG4vKiogV2hhdCBmYWlscyBhbGlrZSBpbiBtYW55IHJvd3MgaXMgdG9sZCBhIGZldyB0aW1lcywgYW5kIGNvdW50ZWQuICovXG5mdW5jdGlvbiBhbGlrZUZhaWx1cmVzKCk6IHtcbiAgdGFrZShldmVudDogU3RlcEV2ZW50LCBsaW5lczogKCkgPT4gcmVhZG9ubHkgc3RyaW5nW10pOiByZWFkb25seSBzdHJpbmdbXTtcbiAgcmVzdCgpOiByZWFkb25seSBzdHJpbmdbXTtcbn0ge1xuICBjb25zdCBraW5kcyA9IG5ldyBNYXA8c3RyaW5nLCB7IHJlYWRvbmx5IGxhYmVsOiBzdHJpbmc7IHJlYWRvbmx5IHdoYXQ6IHN0cmluZzsgY291bnQ6IG51bWJlciB9PigpO1xuICByZXR1cm4ge1xuICAgIHRha2UoZXZlbnQsIGxpbmVzKSB7XG4gICAgICBjb25zdCB3aGF0ID0gZXZlbnQucHJvYmxlbXNbMF0/LndoYXQgPz8gJyc7XG4gICAgICBjb25zdCBrZXkgPSBgJHtldmVudC5sYWJlbH0gJHt3aGF0fWA7XG4gICAgICBpZiAoa2luZHMuc2l6ZSA+PSBtb3N0S2luZHMgJiYgIWtpbmRzLmhhcyhrZXkpKSByZXR1cm4gbGluZXMoKTtcbiAgICAgIGNvbnN0IGtpbmQgPSBraW5kcy5nZXQoa2V5KSA/PyB7IGxhYmVsOiBldmVudC5sYWJlbCwgd2hhdCwgY291bnQ6IDAgfTtcbiAgICAgIGtpbmRzLnNldChrZXksIGtpbmQpO1xuICAgICAga2luZC5jb3VudCArPSAxO1xuICAgICAgcmV0dXJuIGtpbmQuY291bnQgPD0gdG9sZE9mQUtpbmQgPyBsaW5lcygpIDogW107XG4gICAgfSxcbiAgICByZXN0OiAoKSA9PlxuICAgICAgWy4uLmtpbmRzLnZhbHVlcygpXVxuICAgICAgICAuZmlsdGVyKCh7IGNvdW50IH0pID0+IGNvdW50ID4gdG9sZE9mQUtpbmQpXG4gICAgICAgIC5tYXAoKHsgbGFiZWwsIHdoYXQsIGNvdW50IH0pID0+IGAgICAgICAgICR7bGFiZWx9OiAke2NvdW50IC0gdG9sZE9mQUtpbmR9IG1vcmUgbGlrZSBpdCAoJHt3aGF0fSlgKSxcbiAgfTtcbn1cbiIsICIvKiogRnJvbSBwbGFucyB0byB0aGVpciBlbmQ6IHdoYXQgY2FuIGJlIGtub3duIGFoZWFkIGlzIGxvb2tlZCBhdCwgdGhlIGpvdXJuYWwgaXMgb3BlbmVkLCBhbGwgaXMgd2Fsa2VkLiAqL1xuaW1wb3J0IHsgYXNQcm9ibGVtIH0gZnJvbSAnLi4vLi4vY29yZS9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHR5cGUgeyBCZWZvcmUgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL2pvdXJuYWwvYmVmb3JlLmpzJztcbmltcG9ydCB7IGRlbWFuZEFoZWFkIH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC9ydW4vYWhlYWQuanMnO1xuaW1wb3J0IHR5cGUgeyBNYXRyaXhNYWtlciB9IGZyb20gJy4uLy4uL2NvcmUvdHJhaWwvcnVuL21hdHJpeC5qcyc7XG5pbXBvcnQgeyBvcGVuUnVuLCB0eXBlIFJ1bk9yZGVyLCB0eXBlIFdvcmtlciB9IGZyb20gJy4uLy4uL2NvcmUvdHJhaWwvcnVuL29wZW4tcnVuLmpzJztcbmltcG9ydCB0eXBlIHsgQ29udGV4dCB9IGZyb20gJy4uL2NvbnRleHQuanMnO1xuaW1wb3J0IHsgZXhpdFN0YXR1cyB9IGZyb20gJy4uL2V4aXQtc3RhdHVzLmpzJztcbmltcG9ydCB7IHByb2JsZW1MaW5lcyB9IGZyb20gJy4uL3ZpZXcvcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBtYXRyaXhEb2N1bWVudCB9IGZyb20gJy4uL3ZpZXcvcnVuLWRvY3VtZW50cy5qcyc7XG5pbXBvcnQgeyBtYXRyaXhUZXh0IH0gZnJvbSAnLi4vdmlldy9ydW4tc3VtbWFyeS5qcyc7XG5pbXBvcnQgdHlwZSB7IE9wZW5lZCB9IGZyb20gJy4vb3BlbmVkLmpzJztcbmltcG9ydCB7IHR5cGUgV2Fsa2luZywgd2Fsa1BsYW5zIH0gZnJvbSAnLi93YWxrLXBsYW5zLmpzJztcblxuZXhwb3J0IGNvbnN0IHdvcmtlcjogV29ya2VyID0ge1xuICBwcm9jZXNzOiBwcm9jZXNzLnBpZCxcbiAgYWxpdmUocGlkKSB7XG4gICAgaWYgKHBpZCA9PT0gcHJvY2Vzcy5waWQpIHJldHVybiBmYWxzZTtcbiAgICB0cnkge1xuICAgICAgcHJvY2Vzcy5raWxsKHBpZCwgMCk7XG4gICAgICByZXR1cm4gdHJ1ZTtcbiAgICB9IGNhdGNoIChlcnJvcikge1xuICAgICAgcmV0dXJuIChlcnJvciBhcyBOb2RlSlMuRXJybm9FeGNlcHRpb24pLmNvZGUgPT09ICdFUEVSTSc7XG4gICAgfVxuICB9LFxufTtcblxuLyoqIE9mIHNldmVyYWwgZW52aXJvbm1lbnRzLCBvbmUgdGhhdCBpcyBub3QgdGhlcmUgaXMgYSByZXN1bHQuIEBwYXJhbSBiZWZvcmUgb2YgdGhlIHJ1biB0aGF0IGlzIGdvbmUgb24gd2l0aCAqL1xuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIHdhbGtBaGVhZChcbiAgd2Fsa2luZzogT21pdDxXYWxraW5nLCAnam91cm5hbCcgfCAnb3B0aW9ucyc+ICYgT3BlbmVkLFxuICBvcmRlcjogUnVuT3JkZXIsXG4gIGNvbnRleHQ6IENvbnRleHQsXG4gIGJlZm9yZT86IEJlZm9yZSxcbik6IFByb21pc2U8bnVtYmVyPiB7XG4gIGNvbnN0IHsgd29ya3NwYWNlLCBwbGFucywgd2lzaGVzLCBlbnZpcm9ubWVudCB9ID0gd2Fsa2luZztcbiAgY29uc3QgeyB0ZXJtaW5hbCB9ID0gY29udGV4dDtcbiAgd29ya3NwYWNlLmV4cGVjdENoYW5nZXMoe1xuICAgIGNhbGxzOiBwbGFucy5mbGF0TWFwKCh7IHN0ZXBzIH0pID0+IHN0ZXBzKS5yZWR1Y2UoKHN1bSwgeyBjaGFuZ2VzIH0pID0+IHN1bSArIGNoYW5nZXMsIDApLFxuICAgIHJvd3M6IHBsYW5zLnNvbWUoKHsgcm93cyB9KSA9PiByb3dzICE9PSB1bmRlZmluZWQpLFxuICB9KTtcbiAgdHJ5IHtcbiAgICBhd2FpdCBkZW1hbmRBaGVhZCh3b3Jrc3BhY2UsIHBsYW5zLCBjb250ZXh0LnNpZ25hbCk7XG4gIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgY29uc3QgcHJvYmxlbSA9IGFzUHJvYmxlbShlcnJvcik7XG4gICAgaWYgKGVudmlyb25tZW50ID09PSB1bmRlZmluZWQgfHwgcHJvYmxlbS5mYW1pbHkgIT09ICduby1hbnN3ZXInKSB0aHJvdyBlcnJvcjtcbiAgICB3YWxraW5nLm1hdHJpeD8ubWlzc2luZyhlbnZpcm9ubWVudCwgcHJvYmxlbSk7XG4gICAgdGVybWluYWwuY29tcGxhaW4ocHJvYmxlbUxpbmVzKHByb2JsZW0sIHRlcm1pbmFsLmVyciwgd29ya3NwYWNlLnJlZGFjdG9yLmhpZGUpKTtcbiAgICByZXR1cm4gZXhpdFN0YXR1cyhwcm9ibGVtKTtcbiAgfVxuICBjb25zdCBqb3VybmFsID0gd2lzaGVzLmRyeVJ1biA/IHVuZGVmaW5lZCA6IGF3YWl0IG9wZW5SdW4od29ya3NwYWNlLCBjb250ZXh0LmhvbWUsIHBsYW5zLCBvcmRlciwgd29ya2VyLCBiZWZvcmUpO1xuICB0cnkge1xuICAgIHJldHVybiBhd2FpdCB3YWxrUGxhbnMoeyAuLi53YWxraW5nLCBqb3VybmFsLCBvcHRpb25zOiBvcmRlci5vcHRpb25zIH0sIGNvbnRleHQpO1xuICB9IGZpbmFsbHkge1xuICAgIGF3YWl0IGpvdXJuYWw/LmNsb3NlKCk7XG4gICAgYXdhaXQgd2Fsa2luZy53cml0dGVuKCk7XG4gIH1cbn1cblxuZXhwb3J0IGZ1bmN0aW9uIHRlbGxNYXRyaXgoXG4gIG1hdHJpeDogTWF0cml4TWFrZXIgfCB1bmRlZmluZWQsXG4gIHsgdGVybWluYWwgfTogQ29udGV4dCxcbiAgaGlkZTogKHRleHQ6IHN0cmluZykgPT4gc3RyaW5nLFxuKTogdm9pZCB7XG4gIGlmICghbWF0cml4KSByZXR1cm47XG4gIGlmICh0ZXJtaW5hbC5qc29uKSB0ZXJtaW5hbC5wcmludChoaWRlKEpTT04uc3RyaW5naWZ5KG1hdHJpeERvY3VtZW50KG1hdHJpeC5tYXRyaXgoKSkpKSk7XG4gIGVsc2UgdGVybWluYWwucHJpbnQoYFxcbiR7bWF0cml4VGV4dChtYXRyaXgubWF0cml4KCksIHRlcm1pbmFsLCBoaWRlKX1gKTtcbn1cbiIsICIvKiogYHJ1biAtLXJlc3VtZWAsIGAtLWZhaWxlZC1vZmAgYW5kIGAtLXVuZG9gOiB3aGF0IGFuIGVhcmxpZXIgY29tbWFuZCBsZWZ0LCBhcyBpdCB3YXMgYXNrZWQgZm9yIHRoZW4uICovXG5pbXBvcnQgeyBtYWtlUmVkYWN0b3IgfSBmcm9tICcuLi8uLi9jb3JlL2VjaG8vcmVkYWN0b3IuanMnO1xuaW1wb3J0IHsgc2hvcnRUZXh0IH0gZnJvbSAnLi4vLi4vY29yZS9tYXRjaGVyL3JlYWRpbmcuanMnO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uL2NvcmUvcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB0eXBlIHsgQmVmb3JlIH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC9qb3VybmFsL2JlZm9yZS5qcyc7XG5pbXBvcnQgeyBtYWtlTWF0cml4IH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC9ydW4vbWF0cml4LmpzJztcbmltcG9ydCB7IHBsYW5OYW1lcyB9IGZyb20gJy4uLy4uL2NvcmUvdHJhaWwvcnVuL25hbWVzLmpzJztcbmltcG9ydCB7IGRlbWFuZElkbGUsIGVhcmxpZXJSdW4sIGZhaWxlZFBhcnRzLCBvcGVuUnVuLCB0eXBlIFJ1bk9yZGVyIH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC9ydW4vb3Blbi1ydW4uanMnO1xuaW1wb3J0IHsgbGVmdE9mLCB1bmRvUnVuIH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC9ydW4vdW5kby1ydW4uanMnO1xuaW1wb3J0IHsgdHlwZSBDb250ZXh0LCBzZXR0aW5nc09mIH0gZnJvbSAnLi4vY29udGV4dC5qcyc7XG5pbXBvcnQgeyBldmVudExpbmVzIH0gZnJvbSAnLi4vdmlldy9ydW4uanMnO1xuaW1wb3J0IHsgZXZlbnREb2N1bWVudCwgdW5kb1N1bW1hcnlEb2N1bWVudCB9IGZyb20gJy4uL3ZpZXcvcnVuLWRvY3VtZW50cy5qcyc7XG5pbXBvcnQgeyB0eXBlIE9wZW5lZCwgb3BlbmVkIH0gZnJvbSAnLi9vcGVuZWQuanMnO1xuaW1wb3J0IHR5cGUgeyBSdW5XaXNoZXMgfSBmcm9tICcuL29wdGlvbnMuanMnO1xuaW1wb3J0IHsgdGVsbE1hdHJpeCwgd2Fsa0FoZWFkLCB3b3JrZXIgfSBmcm9tICcuL3dhbGstYWhlYWQuanMnO1xuXG4vKiogYC0tcmVzdW1lYCBhbmQgYC0tZmFpbGVkLW9mYC4gKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiB3YWxrRWFybGllcihjb250ZXh0OiBDb250ZXh0LCBydW46IHN0cmluZywgd2lzaGVzOiBSdW5XaXNoZXMpOiBQcm9taXNlPG51bWJlcj4ge1xuICBjb25zdCB7IG93biwgYmVmb3JlLCBvcmRlciB9ID0gYXdhaXQgZWFybGllcihjb250ZXh0LCBydW4sIHdpc2hlcyk7XG4gIGNvbnN0IHsgcm93cywgYXRPbmNlIH0gPSBvcmRlci5vcHRpb25zO1xuICBjb25zdCBwbGFucyA9IGF3YWl0IHBsYW5OYW1lcyhvd24ud29ya3NwYWNlLCBvcmRlci5uYW1lcywgeyByb3dzLCBhdE9uY2UgfSk7XG4gIG93bi53b3Jrc3BhY2UuY2hlY2tTZXR0aW5ncyhwbGFucy5mbGF0TWFwKCh7IHRha2VzIH0pID0+IHRha2VzKSk7XG4gIGNvbnN0IG1hdHJpeCA9IHdpc2hlcy5tYXRyaXggPyBtYWtlTWF0cml4KHNob3J0VGV4dCkgOiB1bmRlZmluZWQ7XG4gIGNvbnN0IHdhbGtpbmcgPSB7IC4uLm93biwgcGxhbnMsIHdpc2hlcywgbWF0cml4LCBlbnZpcm9ubWVudDogdW5kZWZpbmVkIH07XG4gIGxldCBzdGF0dXM6IG51bWJlcjtcbiAgaWYgKHdpc2hlcy5yZXN1bWUgIT09IHVuZGVmaW5lZCkge1xuICAgIGRlbWFuZElkbGUoYmVmb3JlLCB3b3JrZXIpO1xuICAgIHN0YXR1cyA9IGF3YWl0IHdhbGtBaGVhZCh3YWxraW5nLCBvcmRlciwgY29udGV4dCwgYmVmb3JlKTtcbiAgfSBlbHNlIHtcbiAgICBjb25zdCBwYXJ0cyA9IGZhaWxlZFBhcnRzKHBsYW5zLCBiZWZvcmUpO1xuICAgIGlmIChwYXJ0cy5ldmVyeSgocGFydCkgPT4gcGFydCA9PT0gJ25vbmUnKSkge1xuICAgICAgY29udGV4dC50ZXJtaW5hbC5ub3RlKGBub3RoaW5nIGZhaWxlZCBpbiBydW4gJHtiZWZvcmUuaGVhZGVyLnJ1bn1gKTtcbiAgICAgIHJldHVybiAwO1xuICAgIH1cbiAgICBjb25zdCBvcHRpb25zID0geyByb3dzLCBhdE9uY2UsIHJlcGVhdDogMSwgZXZlcnk6IDAsIHBhcnRzIH07XG4gICAgc3RhdHVzID0gYXdhaXQgd2Fsa0FoZWFkKHdhbGtpbmcsIHsgLi4ub3JkZXIsIG9wdGlvbnMgfSwgY29udGV4dCk7XG4gIH1cbiAgdGVsbE1hdHJpeChtYXRyaXgsIGNvbnRleHQsIG93bi53b3Jrc3BhY2UucmVkYWN0b3IuaGlkZSk7XG4gIHJldHVybiBzdGF0dXM7XG59XG5cbmFzeW5jIGZ1bmN0aW9uIGVhcmxpZXIoXG4gIGNvbnRleHQ6IENvbnRleHQsXG4gIHJ1bjogc3RyaW5nLFxuICB3aXNoZXM6IFJ1bldpc2hlcyxcbik6IFByb21pc2U8eyBvd246IE9wZW5lZDsgYmVmb3JlOiBCZWZvcmU7IG9yZGVyOiBSdW5PcmRlciB9PiB7XG4gIGNvbnN0IHsgaG9tZSB9ID0gY29udGV4dDtcbiAgaWYgKGNvbnRleHQub3B0aW9ucy5lbnYgIT09IHVuZGVmaW5lZCkge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCd1c2FnZScsIHsgd2hhdDogJy0tZW52OiB0aGUgcnVuIGtub3dzIGl0cyBlbnZpcm9ubWVudCcsIHJlbWVkeTogJ2xlYXZlIGl0IG91dCcgfSk7XG4gIH1cbiAgY29uc3QgY29sbGVjdGlvbiA9IGF3YWl0IGNvbnRleHQuY29sbGVjdGlvbigpO1xuICBjb25zdCByZWRhY3RvciA9IG1ha2VSZWRhY3RvcigpO1xuICBjb25zdCB7IGJlZm9yZSwgb3JkZXIgfSA9IGF3YWl0IGVhcmxpZXJSdW4oY29sbGVjdGlvbi5sb2NhbCwgaG9tZSwgcnVuLCByZWRhY3Rvcik7XG4gIGNvbnN0IHNldHRpbmdzID0gbmV3IE1hcChbLi4ub3JkZXIuc2V0dGluZ3MsIC4uLnNldHRpbmdzT2YoY29udGV4dC5vcHRpb25zLnNldCA/PyBbXSldKTtcbiAgY29uc3Qgb3duID0gYXdhaXQgb3BlbmVkKGNvbnRleHQsIHdpc2hlcywgeyBlbnZpcm9ubWVudDogb3JkZXIuZW52aXJvbm1lbnQsIHNldHRpbmdzLCByZWRhY3RvciwgY29sbGVjdGlvbiB9KTtcbiAgY29uc3Qgb3B0aW9ucyA9IHsgLi4ub3JkZXIub3B0aW9ucywgYXRPbmNlOiB3aXNoZXMuYXRPbmNlID8/IG9yZGVyLm9wdGlvbnMuYXRPbmNlIH07XG4gIHJldHVybiB7IG93biwgYmVmb3JlLCBvcmRlcjogeyAuLi5vcmRlciwgc2V0dGluZ3MsIG9wdGlvbnMgfSB9O1xufVxuXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gdW5kb0VhcmxpZXIoY29udGV4dDogQ29udGV4dCwgcnVuOiBzdHJpbmcsIHdpc2hlczogUnVuV2lzaGVzKTogUHJvbWlzZTxudW1iZXI+IHtcbiAgY29uc3QgeyB0ZXJtaW5hbCwgc2lnbmFsIH0gPSBjb250ZXh0O1xuICBjb25zdCB7IG93biwgYmVmb3JlLCBvcmRlciB9ID0gYXdhaXQgZWFybGllcihjb250ZXh0LCBydW4sIHdpc2hlcyk7XG4gIGRlbWFuZElkbGUoYmVmb3JlLCB3b3JrZXIpO1xuICBjb25zdCB7IHdvcmtzcGFjZSB9ID0gb3duO1xuICBjb25zdCB7IGhpZGUgfSA9IHdvcmtzcGFjZS5yZWRhY3RvcjtcbiAgaWYgKGxlZnRPZihiZWZvcmUpLmxlbmd0aCA9PT0gMCkge1xuICAgIGNvbnN0IG5vbmUgPSB7IHJ1bjogYmVmb3JlLmhlYWRlci5ydW4sIHVuZG9uZTogMCwgbm90VW5kb25lOiAwIH07XG4gICAgaWYgKHRlcm1pbmFsLmpzb24pIHRlcm1pbmFsLnByaW50KEpTT04uc3RyaW5naWZ5KHVuZG9TdW1tYXJ5RG9jdW1lbnQobm9uZSkpKTtcbiAgICBlbHNlIHRlcm1pbmFsLm5vdGUoYHJ1biAke25vbmUucnVufSBsZWZ0IG5vdGhpbmcgdGhhdCBpcyB0byBiZSB0YWtlbiBiYWNrYCk7XG4gICAgcmV0dXJuIDA7XG4gIH1cbiAgd29ya3NwYWNlLmV4cGVjdENoYW5nZXMoeyBjYWxsczogbGVmdE9mKGJlZm9yZSkubGVuZ3RoLCByb3dzOiBmYWxzZSB9KTtcbiAgY29uc3Qgam91cm5hbCA9IGF3YWl0IG9wZW5SdW4od29ya3NwYWNlLCBjb250ZXh0LmhvbWUsIHVuZGVmaW5lZCwgb3JkZXIsIHdvcmtlciwgYmVmb3JlKTtcbiAgdHJ5IHtcbiAgICBjb25zdCBzdW1tYXJ5ID0gYXdhaXQgdW5kb1J1bihcbiAgICAgIHdvcmtzcGFjZSxcbiAgICAgIGJlZm9yZSxcbiAgICAgIGpvdXJuYWwsXG4gICAgICAoZXZlbnQpID0+IHtcbiAgICAgICAgaWYgKHRlcm1pbmFsLmpzb24pIHRlcm1pbmFsLnByaW50KGhpZGUoSlNPTi5zdHJpbmdpZnkoZXZlbnREb2N1bWVudChldmVudCwgaGlkZSkpKSk7XG4gICAgICAgIGVsc2UgZm9yIChjb25zdCBsaW5lIG9mIGV2ZW50TGluZXMoZXZlbnQsIHRlcm1pbmFsLCBoaWRlKSkgdGVybWluYWwucHJpbnQobGluZSk7XG4gICAgICB9LFxuICAgICAgc2lnbmFsLFxuICAgICk7XG4gICAgaWYgKHRlcm1pbmFsLmpzb24pIHRlcm1pbmFsLnByaW50KEpTT04uc3RyaW5naWZ5KHVuZG9TdW1tYXJ5RG9jdW1lbnQoc3VtbWFyeSkpKTtcbiAgICBlbHNlIHtcbiAgICAgIGNvbnN0IGxlZnQgPSBzdW1tYXJ5Lm5vdFVuZG9uZSA+IDAgPyBgLCAke3Rlcm1pbmFsLm91dC5yZWQoYCR7c3VtbWFyeS5ub3RVbmRvbmV9IG5vdGApfWAgOiAnJztcbiAgICAgIHRlcm1pbmFsLnByaW50KGBydW4gJHtzdW1tYXJ5LnJ1bn06ICR7c3VtbWFyeS51bmRvbmV9IHVuZG9uZSR7bGVmdH1gKTtcbiAgICB9XG4gICAgcmV0dXJuIHNpZ25hbC5hYm9ydGVkID8gMTMwIDogc3VtbWFyeS5ub3RVbmRvbmUgPiAwID8gMSA6IDA7XG4gIH0gZmluYWxseSB7XG4gICAgYXdhaXQgam91cm5hbC5jbG9zZSgpO1xuICB9XG59XG4iLCAiLyoqIFdoYXQgdGhlIGNvbW1hbmQgbGluZSBzYXlzIG9mIGEgcnVuLiAqL1xuaW1wb3J0IHR5cGUgeyBDb21tYW5kIH0gZnJvbSAnY29tbWFuZGVyJztcbmltcG9ydCB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9jb3JlL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBwYXJzZUR1cmF0aW9uIH0gZnJvbSAnLi4vLi4vY29yZS92YWx1ZS9tZWFzdXJlcy5qcyc7XG5pbXBvcnQgeyB3aG9sZU51bWJlciB9IGZyb20gJy4uL3dob2xlLW51bWJlci5qcyc7XG5cbmV4cG9ydCBpbnRlcmZhY2UgUnVuV2lzaGVzIHtcbiAgcmVhZG9ubHkgcm93czogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSBhdE9uY2U6IG51bWJlciB8IHVuZGVmaW5lZDtcbiAgcmVhZG9ubHkgYWxsb3dDaGFuZ2VzOiBib29sZWFuO1xuICByZWFkb25seSBhY2NlcHQ6IGJvb2xlYW47XG4gIHJlYWRvbmx5IGRyeVJ1bjogYm9vbGVhbjtcbiAgcmVhZG9ubHkgc3RvcEF0Rmlyc3RGYWlsdXJlOiBib29sZWFuO1xuICAvKiogSG93IG9mdGVuIGFsbCBpcyB3YWxrZWQ7IHVuZGVmaW5lZCBmb3IgYXMgbG9uZyBhcyBub2JvZHkgZW5kcyBpdC4gKi9cbiAgcmVhZG9ubHkgcmVwZWF0OiBudW1iZXIgfCB1bmRlZmluZWQ7XG4gIC8qKiBNaWxsaXNlY29uZHMgZnJvbSBvbmUgYmVnaW5uaW5nIHRvIHRoZSBuZXh0LiAqL1xuICByZWFkb25seSBldmVyeTogbnVtYmVyO1xuICByZWFkb25seSB1bnRpbDogJ29rJyB8ICdmYWlsZWQnIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSBtYXRyaXg6IGJvb2xlYW47XG4gIHJlYWRvbmx5IHJlc3VtZTogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSBmYWlsZWRPZjogc3RyaW5nIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSB1bmRvOiBzdHJpbmcgfCB1bmRlZmluZWQ7XG59XG5cbmV4cG9ydCBmdW5jdGlvbiBydW5PcHRpb25zKGNvbW1hbmQ6IENvbW1hbmQpOiBDb21tYW5kIHtcbiAgcmV0dXJuIGNvbW1hbmRcbiAgICAub3B0aW9uKCctLWFsbG93LWNoYW5nZXMnLCAnc2F5IHllcyB3aGVyZSB0aGUgZW52aXJvbm1lbnQgYXNrcyBiZWZvcmUgYSBjaGFuZ2UnKVxuICAgIC5vcHRpb24oJy0tcm93cyA8ZmlsZT4nLCAnb25jZSBhIHJvdyBvZiB0aGlzIGZpbGUsIC0gZm9yIHN0YW5kYXJkIGlucHV0OyBpbiBwbGFjZSBvZiB0aGUgcm93cyBvZiB0aGUgdHJhaWwnKVxuICAgIC5vcHRpb24oJy0tYXQtb25jZSA8bnVtYmVyPicsICdzbyBtYW55IHJvd3MgYXQgb25jZTsgaW4gcGxhY2Ugb2Ygd2hhdCB0aGUgdHJhaWwgc2F5cycpXG4gICAgLm9wdGlvbignLS1zdG9wLWF0LWZpcnN0LWZhaWx1cmUnLCAnYmVnaW4gbm8gZnVydGhlciByb3cgb3IgaXRlcmF0aW9uIG9uY2UgYSBzdGVwIGhhcyBmYWlsZWQnKVxuICAgIC5vcHRpb24oJy0tZHJ5LXJ1bicsICdldmVyeXRoaW5nIGJ1dCB0aGUgc2VuZGluZzogd2hhdCB3b3VsZCBsZWF2ZSwgYXMgZmFyIGFzIG5vIGFuc3dlciBpcyBuZWVkZWQgZm9yIGl0JylcbiAgICAub3B0aW9uKCctLXJlcGVhdCA8bnVtYmVyPicsICd3YWxrIGl0IHNvIG1hbnkgdGltZXMnKVxuICAgIC5vcHRpb24oJy0tZXZlcnkgPGR1cmF0aW9uPicsICd3YWxrIGl0IGFnYWluIGFuZCBhZ2FpbiwgYmVnaW5uaW5nIGV2ZXJ5IDMwcywgNW0sIDFoJylcbiAgICAub3B0aW9uKCctLXVudGlsIDxvdXRjb21lPicsICd3aXRoIC0tcmVwZWF0IG9yIC0tZXZlcnk6IGVuZCB3aXRoIHRoZSBmaXJzdCB3YWxrIHRoYXQgaXMgb2ssIG9yIHRoYXQgZmFpbGVkJylcbiAgICAub3B0aW9uKCctLWFjY2VwdCcsICd3cml0ZSB3aGF0IHNhbWUtYXMgZmluZHMgdG8gaXRzIGZpbGUsIGFmdGVyIHNob3dpbmcgdGhlIGRpZmZlcmVuY2UnKVxuICAgIC5vcHRpb24oJy0tbWF0cml4JywgJ2VuZCB3aXRoIHJvd3MgYnkgY2hlY2tzLCBhbmQgZXZlcnkgZGV2aWF0aW9uJylcbiAgICAub3B0aW9uKCctLXJlc3VtZSA8cnVuPicsICdnbyBvbiB3aXRoIGEgcnVuIHRoYXQgd2FzIGludGVycnVwdGVkIG9yIGtpbGxlZDsgbGFzdCBmb3IgdGhlIGxhc3Qgb25lJylcbiAgICAub3B0aW9uKCctLWZhaWxlZC1vZiA8cnVuPicsICd3YWxrIG9ubHkgd2hhdCBmYWlsZWQgaW4gYSBydW4nKVxuICAgIC5vcHRpb24oJy0tdW5kbyA8cnVuPicsICd0YWtlIGJhY2sgd2hhdCBhIHJ1biBtYWRlIGFuZCBoYXMgbm90IHRha2VuIGJhY2snKTtcbn1cblxuZXhwb3J0IGZ1bmN0aW9uIHJ1bldpc2hlcyhvcHRpb25zOiBSZWNvcmQ8c3RyaW5nLCB1bmtub3duPiwgbmFtZXM6IHJlYWRvbmx5IHN0cmluZ1tdKTogUnVuV2lzaGVzIHtcbiAgY29uc3QgdGV4dCA9IChuYW1lOiBzdHJpbmcpOiBzdHJpbmcgfCB1bmRlZmluZWQgPT4gb3B0aW9uc1tuYW1lXSBhcyBzdHJpbmcgfCB1bmRlZmluZWQ7XG4gIGNvbnN0IGZsYWcgPSAobmFtZTogc3RyaW5nKTogYm9vbGVhbiA9PiBvcHRpb25zW25hbWVdID09PSB0cnVlO1xuICBjb25zdCBudW1iZXIgPSAobmFtZTogc3RyaW5nLCBmbGFnTmFtZTogc3RyaW5nKTogbnVtYmVyIHwgdW5kZWZpbmVkID0+XG4gICAgdGV4dChuYW1lKSA9PT0gdW5kZWZpbmVkID8gdW5kZWZpbmVkIDogd2hvbGVOdW1iZXIodGV4dChuYW1lKSBhcyBzdHJpbmcsIGZsYWdOYW1lLCB7IGxlYXN0OiAxIH0pO1xuICBjb25zdCB3aXNoZXM6IFJ1bldpc2hlcyA9IHtcbiAgICByb3dzOiB0ZXh0KCdyb3dzJyksXG4gICAgYXRPbmNlOiBudW1iZXIoJ2F0T25jZScsICctLWF0LW9uY2UnKSxcbiAgICBhbGxvd0NoYW5nZXM6IGZsYWcoJ2FsbG93Q2hhbmdlcycpLFxuICAgIGFjY2VwdDogZmxhZygnYWNjZXB0JyksXG4gICAgZHJ5UnVuOiBmbGFnKCdkcnlSdW4nKSxcbiAgICBzdG9wQXRGaXJzdEZhaWx1cmU6IGZsYWcoJ3N0b3BBdEZpcnN0RmFpbHVyZScpLFxuICAgIHJlcGVhdDogbnVtYmVyKCdyZXBlYXQnLCAnLS1yZXBlYXQnKSA/PyAodGV4dCgnZXZlcnknKSA9PT0gdW5kZWZpbmVkID8gMSA6IHVuZGVmaW5lZCksXG4gICAgZXZlcnk6IGV2ZXJ5T2YodGV4dCgnZXZlcnknKSksXG4gICAgdW50aWw6IHVudGlsT2YodGV4dCgndW50aWwnKSksXG4gICAgbWF0cml4OiBmbGFnKCdtYXRyaXgnKSxcbiAgICByZXN1bWU6IHRleHQoJ3Jlc3VtZScpLFxuICAgIGZhaWxlZE9mOiB0ZXh0KCdmYWlsZWRPZicpLFxuICAgIHVuZG86IHRleHQoJ3VuZG8nKSxcbiAgfTtcbiAgY29uc3QgZWFybGllciA9IChbJ3Jlc3VtZScsICdmYWlsZWRPZicsICd1bmRvJ10gYXMgY29uc3QpLmZpbHRlcigobmFtZSkgPT4gd2lzaGVzW25hbWVdICE9PSB1bmRlZmluZWQpO1xuICBjb25zdCBbZmlyc3RdID0gZWFybGllcjtcbiAgaWYgKGVhcmxpZXIubGVuZ3RoID4gMSkge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCd1c2FnZScsIHsgd2hhdDogYCR7ZWFybGllci5tYXAoZmxhZ09mKS5qb2luKCcgYW5kICcpfSBjYW5ub3QgYmUgaGFkIHRvZ2V0aGVyYCB9KTtcbiAgfVxuICBpZiAoZmlyc3QgPT09IHVuZGVmaW5lZCAmJiBuYW1lcy5sZW5ndGggPT09IDApIHtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgndXNhZ2UnLCB7XG4gICAgICB3aGF0OiAnbm90aGluZyBpcyBuYW1lZCB0aGF0IGlzIHRvIGJlIHdhbGtlZCcsXG4gICAgICByZW1lZHk6ICdlY2hvLXRyYWlsIGxpc3Qgc2hvd3MgdGhlIHRyYWlscyBhbmQgcmVxdWVzdHM7IC0tcmVzdW1lLCAtLWZhaWxlZC1vZiBhbmQgLS11bmRvIHRha2UgYSBydW4gaW5zdGVhZCcsXG4gICAgfSk7XG4gIH1cbiAgaWYgKGZpcnN0ICE9PSB1bmRlZmluZWQgJiYgbmFtZXMubGVuZ3RoID4gMCkge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCd1c2FnZScsIHtcbiAgICAgIHdoYXQ6IGAke2ZsYWdPZihmaXJzdCl9IHRha2VzIGEgcnVuLCB3aGljaCBrbm93cyB3aGF0IGl0IHdhbGtlZGAsXG4gICAgICByZW1lZHk6IGBsZWF2ZSAke25hbWVzLmpvaW4oJyAnKX0gb3V0YCxcbiAgICB9KTtcbiAgfVxuICBjb25zdCBvd24gPSAoWydyb3dzJywgJ3JlcGVhdCcsICdldmVyeScsICd1bnRpbCddIGFzIGNvbnN0KS5maW5kKChuYW1lKSA9PiB0ZXh0KG5hbWUpICE9PSB1bmRlZmluZWQpO1xuICBpZiAoZmlyc3QgIT09IHVuZGVmaW5lZCAmJiBvd24gIT09IHVuZGVmaW5lZCkge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCd1c2FnZScsIHtcbiAgICAgIHdoYXQ6IGAtLSR7b3dufTogdGhlIHJ1biB0aGF0ICR7ZmxhZ09mKGZpcnN0KX0gbmFtZXMga25vd3MgaXRzIG93bmAsXG4gICAgICByZW1lZHk6ICdsZWF2ZSBpdCBvdXQnLFxuICAgIH0pO1xuICB9XG4gIGlmICh3aXNoZXMuZHJ5UnVuICYmIChmaXJzdCA9PT0gJ3Jlc3VtZScgfHwgZmlyc3QgPT09ICd1bmRvJykpIHtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgndXNhZ2UnLCB7IHdoYXQ6IGAtLWRyeS1ydW4gYW5kICR7ZmxhZ09mKGZpcnN0KX0gY2Fubm90IGJlIGhhZCB0b2dldGhlcmAgfSk7XG4gIH1cbiAgaWYgKHdpc2hlcy51bnRpbCAhPT0gdW5kZWZpbmVkICYmIHRleHQoJ2V2ZXJ5JykgPT09IHVuZGVmaW5lZCAmJiB0ZXh0KCdyZXBlYXQnKSA9PT0gdW5kZWZpbmVkKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ3VzYWdlJywgeyB3aGF0OiAnLS11bnRpbCBnb2VzIHdpdGggLS1yZXBlYXQgb3IgLS1ldmVyeScgfSk7XG4gIH1cbiAgcmV0dXJuIHdpc2hlcztcbn1cblxuY29uc3QgZmxhZ09mID0gKG5hbWU6IHN0cmluZyk6IHN0cmluZyA9PiBgLS0ke25hbWUucmVwbGFjZSgvW0EtWl0vZywgKGxldHRlcikgPT4gYC0ke2xldHRlci50b0xvd2VyQ2FzZSgpfWApfWA7XG5cbmZ1bmN0aW9uIGV2ZXJ5T2YodGV4dDogc3RyaW5nIHwgdW5kZWZpbmVkKTogbnVtYmVyIHtcbiAgaWYgKHRleHQgPT09IHVuZGVmaW5lZCkgcmV0dXJuIDA7XG4gIGNvbnN0IGZvdW5kID0gcGFyc2VEdXJhdGlvbih0ZXh0KTtcbiAgaWYgKGZvdW5kICE9PSB1bmRlZmluZWQgJiYgZm91bmQgPiAwKSByZXR1cm4gZm91bmQ7XG4gIHRocm93IG5ldyBQcm9ibGVtKCd1c2FnZScsIHsgd2hhdDogYC0tZXZlcnkgdGFrZXMgYSBkdXJhdGlvbiB3aXRoIGl0cyB1bml0LCBzdWNoIGFzIDMwcyBvciA1bSwgbm90ICR7dGV4dH1gIH0pO1xufVxuXG5mdW5jdGlvbiB1bnRpbE9mKHRleHQ6IHN0cmluZyB8IHVuZGVmaW5lZCk6IFJ1bldpc2hlc1sndW50aWwnXSB7XG4gIGlmICh0ZXh0ID09PSB1bmRlZmluZWQgfHwgdGV4dCA9PT0gJ29rJyB8fCB0ZXh0ID09PSAnZmFpbGVkJykgcmV0dXJuIHRleHQ7XG4gIHRocm93IG5ldyBQcm9ibGVtKCd1c2FnZScsIHsgd2hhdDogYC0tdW50aWwgdGFrZXMgb2sgb3IgZmFpbGVkLCBub3QgJHt0ZXh0fWAgfSk7XG59XG4iLCAiLyoqIGBydW4gTkFNRVNgOiBpbiBvbmUgZW52aXJvbm1lbnQsIG9yIGluIHNldmVyYWwuICovXG5pbXBvcnQgeyBzaG9ydFRleHQgfSBmcm9tICcuLi8uLi9jb3JlL21hdGNoZXIvcmVhZGluZy5qcyc7XG5pbXBvcnQgeyBtYWtlTWF0cml4IH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC9ydW4vbWF0cml4LmpzJztcbmltcG9ydCB7IHBsYW5OYW1lcyB9IGZyb20gJy4uLy4uL2NvcmUvdHJhaWwvcnVuL25hbWVzLmpzJztcbmltcG9ydCB0eXBlIHsgUnVuT3JkZXIgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3J1bi9vcGVuLXJ1bi5qcyc7XG5pbXBvcnQgdHlwZSB7IFRyYWlsUGxhbiB9IGZyb20gJy4uLy4uL2NvcmUvdHJhaWwvc3RlcC1raW5kLmpzJztcbmltcG9ydCB0eXBlIHsgQ29udGV4dCB9IGZyb20gJy4uL2NvbnRleHQuanMnO1xuaW1wb3J0IHsgdHlwZSBPcGVuZWQsIG9wZW5lZCB9IGZyb20gJy4vb3BlbmVkLmpzJztcbmltcG9ydCB0eXBlIHsgUnVuV2lzaGVzIH0gZnJvbSAnLi9vcHRpb25zLmpzJztcbmltcG9ydCB7IHRlbGxNYXRyaXgsIHdhbGtBaGVhZCB9IGZyb20gJy4vd2Fsay1haGVhZC5qcyc7XG5pbXBvcnQgeyB3b3JzZSB9IGZyb20gJy4vd2Fsay1wbGFucy5qcyc7XG5cbi8qKiBPbmUgZW52aXJvbm1lbnQsIG9yIHNldmVyYWwgb2YgdGhlbSBvbmUgYWZ0ZXIgdGhlIG90aGVyOyBhbGwgb2YgdGhlbSBhcmUgcmVhZCBiZWZvcmUgdGhlIGZpcnN0IHN0ZXAuICovXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gd2Fsa05hbWVzKGNvbnRleHQ6IENvbnRleHQsIG5hbWVzOiByZWFkb25seSBzdHJpbmdbXSwgd2lzaGVzOiBSdW5XaXNoZXMpOiBQcm9taXNlPG51bWJlcj4ge1xuICBjb25zdCB7IHRlcm1pbmFsIH0gPSBjb250ZXh0O1xuICBjb25zdCBlbnZpcm9ubWVudHMgPSBjb250ZXh0Lm9wdGlvbnMuZW52Py5zcGxpdCgnLCcpLm1hcCgobmFtZSkgPT4gbmFtZS50cmltKCkpID8/IFt1bmRlZmluZWRdO1xuICBjb25zdCBzZXZlcmFsID0gZW52aXJvbm1lbnRzLmxlbmd0aCA+IDE7XG4gIGNvbnN0IG1hdHJpeCA9IHdpc2hlcy5tYXRyaXggfHwgc2V2ZXJhbCA/IG1ha2VNYXRyaXgoc2hvcnRUZXh0KSA6IHVuZGVmaW5lZDtcbiAgY29uc3QgYWxsOiAoT3BlbmVkICYgeyByZWFkb25seSBwbGFuczogcmVhZG9ubHkgVHJhaWxQbGFuW10gfSlbXSA9IFtdO1xuICBmb3IgKGNvbnN0IGVudmlyb25tZW50IG9mIGVudmlyb25tZW50cykge1xuICAgIGNvbnN0IG93biA9IGF3YWl0IG9wZW5lZChjb250ZXh0LCB3aXNoZXMsIHsgZW52aXJvbm1lbnQgfSk7XG4gICAgY29uc3QgcGxhbnMgPSBhd2FpdCBwbGFuTmFtZXMob3duLndvcmtzcGFjZSwgbmFtZXMsIHdpc2hlcyk7XG4gICAgb3duLndvcmtzcGFjZS5jaGVja1NldHRpbmdzKHBsYW5zLmZsYXRNYXAoKHsgdGFrZXMgfSkgPT4gdGFrZXMpKTtcbiAgICBhbGwucHVzaCh7IC4uLm93biwgcGxhbnMgfSk7XG4gIH1cbiAgbGV0IHN0YXR1cyA9IDA7XG4gIGZvciAoY29uc3Qgb3duIG9mIGFsbCkge1xuICAgIGlmIChjb250ZXh0LnNpZ25hbC5hYm9ydGVkKSBicmVhaztcbiAgICBjb25zdCB7IHNldHRpbmdzLCBlbnZpcm9ubWVudCB9ID0gb3duLndvcmtzcGFjZTtcbiAgICBpZiAoc2V2ZXJhbCAmJiAhdGVybWluYWwuanNvbikgdGVybWluYWwubm90ZSh0ZXJtaW5hbC5lcnIuYm9sZChgZW52aXJvbm1lbnQgJHtlbnZpcm9ubWVudC5uYW1lfWApKTtcbiAgICBjb25zdCB7IHJvd3MsIGF0T25jZSwgcmVwZWF0LCBldmVyeSwgdW50aWwgfSA9IHdpc2hlcztcbiAgICBjb25zdCBvcHRpb25zID0geyByb3dzLCBhdE9uY2UsIHJlcGVhdCwgZXZlcnksIHVudGlsIH07XG4gICAgY29uc3Qgb3JkZXI6IFJ1bk9yZGVyID0geyBuYW1lcywgZW52aXJvbm1lbnQ6IGVudmlyb25tZW50Lm5hbWUsIHNldHRpbmdzLCBvcHRpb25zIH07XG4gICAgY29uc3Qgd2Fsa2luZyA9IHsgLi4ub3duLCB3aXNoZXMsIG1hdHJpeCwgZW52aXJvbm1lbnQ6IHNldmVyYWwgPyBlbnZpcm9ubWVudC5uYW1lIDogdW5kZWZpbmVkIH07XG4gICAgc3RhdHVzID0gd29yc2Uoc3RhdHVzLCBhd2FpdCB3YWxrQWhlYWQod2Fsa2luZywgb3JkZXIsIGNvbnRleHQpKTtcbiAgICBpZiAoc2V2ZXJhbCkgbWF0cml4Py5lbmRlZChlbnZpcm9ubWVudC5uYW1lKTtcbiAgfVxuICB0ZWxsTWF0cml4KG1hdHJpeCwgY29udGV4dCwgY29udGV4dC5yZWRhY3RvcigpPy5oaWRlID8/ICgodGV4dCkgPT4gdGV4dCkpO1xuICByZXR1cm4gc3RhdHVzO1xufVxuIiwgIi8qKiBgcnVuYDogdHJhaWxzIGFuZCByZXF1ZXN0cywgd2Fsa2VkLiAqL1xuaW1wb3J0IHsgdHlwZSBDb21tYW5kTW9kdWxlLCBleGFtcGxlcyB9IGZyb20gJy4uL2NvbW1hbmQuanMnO1xuaW1wb3J0IHsgdW5kb0VhcmxpZXIsIHdhbGtFYXJsaWVyIH0gZnJvbSAnLi4vd2Fsa2luZy9lYXJsaWVyLmpzJztcbmltcG9ydCB7IHJ1bk9wdGlvbnMsIHJ1bldpc2hlcyB9IGZyb20gJy4uL3dhbGtpbmcvb3B0aW9ucy5qcyc7XG5pbXBvcnQgeyB3YWxrTmFtZXMgfSBmcm9tICcuLi93YWxraW5nL3dhbGstbmFtZXMuanMnO1xuXG5leHBvcnQgY29uc3QgeyBjb25maWd1cmUgfTogQ29tbWFuZE1vZHVsZSA9IHtcbiAgY29uZmlndXJlKGNvbW1hbmQsIHJ1bikge1xuICAgIGNvbW1hbmQuYXJndW1lbnQoJ1tuYW1lcy4uLl0nLCAndHJhaWxzLCByZXF1ZXN0cywgb3IgZm9sZGVycyBvZiB0aGVtLCB3YWxrZWQgb25lIGFmdGVyIHRoZSBvdGhlcicpO1xuICAgIHJ1bk9wdGlvbnMoY29tbWFuZCkuYWN0aW9uKFxuICAgICAgcnVuKGFzeW5jIChjb250ZXh0LCBuYW1lcywgb3B0aW9ucykgPT4ge1xuICAgICAgICBjb25zdCB3aXNoZXMgPSBydW5XaXNoZXMob3B0aW9ucywgbmFtZXMpO1xuICAgICAgICBpZiAod2lzaGVzLnVuZG8gIT09IHVuZGVmaW5lZCkgcmV0dXJuIHVuZG9FYXJsaWVyKGNvbnRleHQsIHdpc2hlcy51bmRvLCB3aXNoZXMpO1xuICAgICAgICBjb25zdCBlYXJsaWVyID0gd2lzaGVzLnJlc3VtZSA/PyB3aXNoZXMuZmFpbGVkT2Y7XG4gICAgICAgIGlmIChlYXJsaWVyICE9PSB1bmRlZmluZWQpIHJldHVybiB3YWxrRWFybGllcihjb250ZXh0LCBlYXJsaWVyLCB3aXNoZXMpO1xuICAgICAgICByZXR1cm4gd2Fsa05hbWVzKGNvbnRleHQsIG5hbWVzLCB3aXNoZXMpO1xuICAgICAgfSksXG4gICAgKTtcbiAgICBleGFtcGxlcyhjb21tYW5kLCBbXG4gICAgICBbJ3J1biBiZXJ0aC1zdGF5JywgJ2EgdHJhaWwgb2YgdGhlIGNvbGxlY3Rpb24nXSxcbiAgICAgIFsncnVuIGJlcnRoLXN0YXkgLS1zZXQgaW1vPTkwMDAwMzEgLS1qc29uJywgJ2ZvciBhbm90aGVyIHZlc3NlbCwgYSBsaW5lIG9mIEpTT04gYW4gZXZlbnQnXSxcbiAgICAgIFsncnVuIHZlc3NlbHMvc2hvdyBiZXJ0aHMvZnJlZScsICd0d28gcmVxdWVzdHMsIHdpdGggdGhlaXIgZXhwZWN0YXRpb25zJ10sXG4gICAgICBbJ3J1biBsaWdodHMtYXVkaXQgLS1lbnYgZmxlZXQgLS1tYXRyaXgnLCAnbWFueSBob3N0cyBieSB3aGF0IGlzIGNoZWNrZWQsIGFuZCBldmVyeSBkZXZpYXRpb24nXSxcbiAgICAgIFsncnVuIC0tcmVzdW1lIGxhc3QnLCAnZ28gb24gd2l0aCB0aGUgbGFzdCBydW4sIHdoZXJlIGl0IHdhcyBpbnRlcnJ1cHRlZCBvciBraWxsZWQnXSxcbiAgICBdKTtcbiAgfSxcbn07XG4iXSwKICAibWFwcGluZ3MiOiAiOzs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7OztBQStCQSxJQUFNLGlCQUFpQjtBQWFoQixTQUFTLFdBQVdBLFFBQTBEO0FBQ25GLFFBQU0sU0FBUyxvQkFBSSxJQUFZO0FBQy9CLFFBQU0sZUFBeUIsQ0FBQztBQUNoQyxRQUFNLFdBTUEsQ0FBQztBQUNQLFFBQU0sT0FBTyxvQkFBSSxJQUF5RjtBQUMxRyxNQUFJLE9BQU87QUFFWCxXQUFTLEtBQUssT0FBd0I7QUFDcEMsVUFBTSxNQUFNLE1BQU0sT0FBTztBQUN6QixRQUFJLE1BQU0sS0FBSyxJQUFJLEdBQUc7QUFDdEIsUUFBSSxDQUFDLEtBQUs7QUFDUixZQUFNLEVBQUUsT0FBTyxvQkFBSSxJQUFJLEdBQUcsWUFBWSxDQUFDLEVBQUU7QUFDekMsV0FBSyxJQUFJLEtBQUssR0FBRztBQUFBLElBQ25CO0FBRUEsUUFBSSxNQUFNLFVBQVUsR0FBRztBQUNyQixhQUFPLElBQUksTUFBTSxLQUFLO0FBQ3RCLFVBQUksTUFBTSxJQUFJLE1BQU0sT0FBTyxRQUFRLEtBQUssQ0FBQztBQUFBLElBQzNDO0FBQ0EsZUFBVyxhQUFhLGFBQWEsT0FBT0EsTUFBSyxHQUFHO0FBQ2xELFVBQUksUUFBUSxlQUFnQjtBQUM1QixjQUFRO0FBQ1IsVUFBSSxXQUFXLEtBQUssU0FBUztBQUFBLElBQy9CO0FBQUEsRUFDRjtBQUVBLFdBQVMsTUFBTSxLQUFhLE1BQWMsYUFBMkI7QUFDbkUsUUFBSSxDQUFDLGFBQWEsU0FBUyxXQUFXLEVBQUcsY0FBYSxLQUFLLFdBQVc7QUFDdEUsVUFBTSxNQUFNLEtBQUssSUFBSSxHQUFHLEtBQUssRUFBRSxPQUFPLG9CQUFJLElBQUksR0FBRyxZQUFZLENBQUMsRUFBRTtBQUNoRSxTQUFLLE9BQU8sR0FBRztBQUNmLFVBQU0sYUFBYSxJQUFJLFdBQVcsSUFBSSxDQUFDLFNBQVMsRUFBRSxTQUFTLE1BQU0sR0FBRyxJQUFJLEVBQUU7QUFDMUUsYUFBUyxLQUFLLEVBQUUsYUFBYSxhQUFhLFFBQVEsV0FBVyxHQUFHLEtBQUssTUFBTSxPQUFPLElBQUksT0FBTyxXQUFXLENBQUM7QUFBQSxFQUMzRztBQUVBLFNBQU87QUFBQSxJQUNMLEtBQUssT0FBTyxhQUFhO0FBQ3ZCLFVBQUksTUFBTSxVQUFVLE9BQVEsTUFBSyxLQUFLO0FBQUEsZUFDN0IsTUFBTSxVQUFVO0FBQ3ZCLGNBQU0sTUFBTSxLQUFLLENBQUMsYUFBYSxNQUFNLEtBQUssRUFBRSxPQUFPLE9BQU8sRUFBRSxLQUFLLEdBQUcsR0FBRyxlQUFlLEVBQUU7QUFBQSxJQUM1RjtBQUFBLElBQ0EsTUFBTSxhQUFhO0FBQ2pCLFVBQUksS0FBSyxJQUFJLENBQUMsRUFBRyxPQUFNLEdBQUcsYUFBYSxXQUFXO0FBQUEsSUFDcEQ7QUFBQSxJQUNBLFFBQVEsYUFBYSxTQUFTO0FBQzVCLFdBQUssSUFBSSxHQUFHLEVBQUUsT0FBTyxvQkFBSSxJQUFJLEdBQUcsWUFBWSxDQUFDLFFBQVEsSUFBSSxPQUFPLENBQUMsRUFBRSxDQUFDO0FBQ3BFLFlBQU0sR0FBRyxhQUFhLFdBQVc7QUFBQSxJQUNuQztBQUFBLElBQ0EsU0FBUztBQUNQLFlBQU0sU0FBUyxDQUFDLEdBQUcsUUFBUSxFQUFFLEtBQUssQ0FBQyxHQUFHLE1BQU0sRUFBRSxjQUFjLEVBQUUsZUFBZSxFQUFFLE1BQU0sRUFBRSxHQUFHO0FBQzFGLGFBQU87QUFBQSxRQUNMLFFBQVEsQ0FBQyxHQUFHLE1BQU07QUFBQSxRQUNsQixVQUFVLE9BQU8sSUFBSSxDQUFDLEVBQUUsTUFBTSxNQUFNLE9BQU8sRUFBRSxNQUFNLE1BQU0sRUFBRTtBQUFBLFFBQzNELFlBQVksT0FBTyxRQUFRLENBQUMsRUFBRSxXQUFXLE1BQU0sVUFBVTtBQUFBLE1BQzNEO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFDRjtBQUVBLFNBQVMsUUFBUSxFQUFFLE9BQU8sU0FBUyxHQUF5QjtBQUMxRCxNQUFJLFVBQVUsU0FBVSxRQUFPO0FBQy9CLFNBQU8sU0FBUyxLQUFLLENBQUMsRUFBRSxPQUFPLE1BQU0sV0FBVyxXQUFXLElBQUksZ0JBQWdCO0FBQ2pGO0FBRUEsVUFBVSxhQUNSLEVBQUUsT0FBTyxPQUFPLE1BQU0sTUFBTSxTQUFTLEdBQ3JDQSxRQUN1QztBQUN2QyxRQUFNLE9BQU8sTUFBTSxRQUFRO0FBQzNCLGFBQVcsRUFBRSxPQUFPLFdBQVcsSUFBSSxRQUFRLElBQUksV0FBVyxNQUFNLE1BQU0sWUFBWSxDQUFDLEdBQUcsT0FBTyxDQUFDLEVBQUUsR0FBRyxNQUFNLENBQUMsRUFBRSxHQUFHO0FBQzdHLFFBQUksQ0FBQyxjQUFjLFdBQVcsV0FBVyxFQUFHLE9BQU0sRUFBRSxPQUFPLE9BQU8sVUFBVSxPQUFPLEtBQUs7QUFBQSxTQUNuRjtBQUNILGlCQUFXLEVBQUUsSUFBQUMsS0FBSSxNQUFNLE1BQU0sS0FBSztBQUNoQyxjQUFNLEVBQUUsT0FBTyxPQUFPQSxLQUFJLFVBQVVELE9BQU0sSUFBSSxHQUFHLE9BQU9BLE9BQU0sS0FBSyxHQUFHLEtBQUs7QUFBQSxJQUMvRTtBQUFBLEVBQ0Y7QUFDQSxhQUFXLEVBQUUsSUFBQUMsS0FBSSxNQUFNLE1BQU0sS0FBSyxNQUFNLGVBQWUsQ0FBQztBQUN0RCxVQUFNLEVBQUUsT0FBTyxPQUFPQSxLQUFJLFVBQVVELE9BQU0sSUFBSSxHQUFHLE9BQU9BLE9BQU0sS0FBSyxHQUFHLEtBQUs7QUFDN0UsUUFBTSxDQUFDLE1BQU0sSUFBSSxTQUFTLE9BQU8sQ0FBQyxFQUFFLE9BQU8sTUFBTSxXQUFXLFdBQVc7QUFDdkUsTUFBSSxPQUFRLE9BQU0sRUFBRSxHQUFHLFFBQVEsT0FBTyxNQUFNLEdBQUcsS0FBSztBQUN0RDtBQUVBLElBQU0sVUFBVSxDQUFDLE9BQWUsRUFBRSxLQUFLLE9BQTRDO0FBQUEsRUFDakY7QUFBQSxFQUNBLE9BQU87QUFBQSxFQUNQLFVBQVU7QUFBQSxFQUNWLE9BQU87QUFBQSxFQUNQLE1BQU07QUFDUjs7O0FDOUhBLGVBQXNCLFVBQ3BCLFdBQ0EsT0FDQSxTQUFxQixDQUFDLEdBQ0E7QUFDdEIsUUFBTSxRQUFxQixDQUFDO0FBQzVCLGFBQVcsUUFBUSxNQUFPLE9BQU0sS0FBSyxHQUFJLE1BQU0sU0FBUyxXQUFXLE1BQU0sTUFBTSxDQUFFO0FBQ2pGLFNBQU87QUFDVDtBQUVBLGVBQWUsU0FBUyxXQUFzQixNQUFjLFFBQTBDO0FBQ3BHLFFBQU0sRUFBRSxXQUFXLElBQUk7QUFDdkIsUUFBTSxRQUFRLENBQUMsU0FBdUM7QUFDcEQsUUFBSTtBQUNGLGlCQUFXLFFBQVEsTUFBTSxJQUFJO0FBQzdCLGFBQU87QUFBQSxJQUNULFNBQVMsT0FBTztBQUNkLFVBQUksaUJBQWlCLFdBQVcsTUFBTSxTQUFTLGlCQUFrQixPQUFNO0FBQ3ZFLGFBQU87QUFBQSxJQUNUO0FBQUEsRUFDRjtBQUNBLE1BQUksTUFBTSxPQUFPLEVBQUcsUUFBTyxDQUFDLE1BQU0sVUFBVSxXQUFXLE1BQU0sTUFBTSxDQUFDO0FBQ3BFLE1BQUksTUFBTSxTQUFTLEVBQUcsUUFBTyxDQUFDLE1BQU0sZUFBZSxXQUFXLE1BQU0sVUFBVSxRQUFRLElBQUksR0FBRyxNQUFNLENBQUM7QUFDcEcsUUFBTSxTQUFTLEdBQUcsS0FBSyxRQUFRLDBCQUEwQixFQUFFLEVBQUUsUUFBUSxPQUFPLEVBQUUsQ0FBQztBQUMvRSxRQUFNLFdBQVcsQ0FBQyxTQUNoQixXQUNHLE1BQU0sSUFBSSxFQUNWLE9BQU8sQ0FBQyxRQUFRLElBQUksV0FBVyxNQUFNLENBQUMsRUFDdEMsS0FBSztBQUNWLFFBQU0sUUFBUSxTQUFTLE9BQU87QUFDOUIsUUFBTSxRQUFxQixDQUFDO0FBQzVCLGFBQVcsU0FBUyxNQUFPLE9BQU0sS0FBSyxNQUFNLFVBQVUsV0FBVyxPQUFPLE1BQU0sQ0FBQztBQUMvRSxNQUFJLE1BQU0sV0FBVyxHQUFHO0FBQ3RCLGVBQVcsV0FBVyxTQUFTLFNBQVM7QUFDdEMsWUFBTSxLQUFLLE1BQU0sZUFBZSxXQUFXLE1BQU0sVUFBVSxRQUFRLE9BQU8sR0FBRyxNQUFNLENBQUM7QUFBQSxFQUN4RjtBQUNBLE1BQUksTUFBTSxTQUFTLEVBQUcsUUFBTztBQUM3QixRQUFNLElBQUksUUFBUSxrQkFBa0I7QUFBQSxJQUNsQyxNQUFNLDBDQUEwQyxJQUFJO0FBQUEsSUFDcEQsUUFBUSxZQUFZLE1BQU0sQ0FBQyxHQUFHLFdBQVcsTUFBTSxPQUFPLEdBQUcsR0FBRyxXQUFXLE1BQU0sU0FBUyxDQUFDLENBQUM7QUFBQSxFQUMxRixDQUFDO0FBQ0g7OztBQ25EQSxTQUFTLGtCQUFrQjtBQUMzQixTQUFTLFFBQUFFLGFBQVk7OztBQ0RyQixTQUFTLG1CQUFtQjtBQUM1QixTQUFTLFlBQVk7OztBQ0RyQixZQUFZLE9BQU87QUFJbkIsSUFBTSxPQUFTLFFBQU0sQ0FBRyxVQUFRLEtBQUssR0FBSyxVQUFRLE1BQU0sR0FBSyxRQUFRLFNBQU8sQ0FBQyxDQUFDLENBQUM7QUFHL0UsSUFBTSxhQUFlLGVBQWE7QUFBQSxFQUNoQyxNQUFRLFdBQVcsU0FBTyxDQUFDO0FBQUEsRUFDM0IsUUFBVSxXQUFXLFNBQU8sQ0FBQztBQUFBO0FBQUEsRUFFN0IsUUFBVSxXQUFXLFNBQU8sQ0FBQztBQUFBO0FBQUEsRUFFN0IsT0FBUyxTQUFPO0FBQUEsRUFDaEIsT0FBUyxXQUFXLE9BQUssQ0FBQyxNQUFNLFFBQVEsQ0FBQyxDQUFDO0FBQUE7QUFBQSxFQUUxQyxPQUFTLFdBQVcsUUFBTSxJQUFJLENBQUM7QUFDakMsQ0FBQztBQUlELElBQU0sT0FBUztBQUFBLEVBQ1gsZUFBYTtBQUFBLElBQ2IsTUFBUSxTQUFPO0FBQUEsSUFDZixRQUFVLFNBQU87QUFBQSxJQUNqQixPQUFTLFdBQVcsTUFBSSxDQUFDO0FBQUEsSUFDekIsUUFBVSxXQUFXLFNBQU8sQ0FBQztBQUFBO0FBQUEsSUFFN0IsUUFBVSxXQUFXLFVBQVEsQ0FBQztBQUFBLEVBQ2hDLENBQUM7QUFDSDtBQUdBLElBQU0sS0FBTyxTQUFPO0FBQ3BCLElBQU0sYUFBZSxPQUFLLENBQUMsUUFBUSxVQUFVLGNBQWMsWUFBWSxDQUFDO0FBRWpFLElBQU0sY0FBZ0IscUJBQW1CLFFBQVE7QUFBQTtBQUFBLEVBRXBELGVBQWE7QUFBQSxJQUNiLE1BQVEsVUFBUSxLQUFLO0FBQUEsSUFDckIsS0FBTyxTQUFPO0FBQUEsSUFDZCxJQUFNLFNBQU87QUFBQTtBQUFBLElBRWIsU0FBVyxTQUFPO0FBQUEsSUFDbEIsYUFBZSxTQUFPO0FBQUEsSUFDdEIsT0FBUyxRQUFRLFNBQU8sQ0FBQztBQUFBO0FBQUEsSUFFekIsVUFBWSxTQUFPO0FBQUEsSUFDbkIsU0FBUztBQUFBO0FBQUEsSUFFVCxRQUFVLFNBQU87QUFBQSxFQUNuQixDQUFDO0FBQUEsRUFDQyxlQUFhLEVBQUUsTUFBUSxVQUFRLFNBQVMsR0FBRyxLQUFPLFNBQU8sR0FBRyxJQUFNLFNBQU8sR0FBRyxTQUFXLFNBQU8sRUFBRSxDQUFDO0FBQUE7QUFBQSxFQUVqRyxlQUFhO0FBQUEsSUFDYixNQUFRLFVBQVEsU0FBUztBQUFBLElBQ3pCO0FBQUEsSUFDQSxLQUFPLFdBQVcsU0FBTyxDQUFDO0FBQUEsSUFDMUIsTUFBUSxTQUFPO0FBQUEsSUFDZixLQUFPLFdBQVcsU0FBTyxDQUFDO0FBQUEsRUFDNUIsQ0FBQztBQUFBLEVBQ0MsZUFBYTtBQUFBLElBQ2IsTUFBUSxVQUFRLE1BQU07QUFBQSxJQUN0QjtBQUFBLElBQ0EsTUFBUSxXQUFXLFNBQU8sQ0FBQztBQUFBLElBQzNCLE1BQVEsV0FBUyxJQUFJO0FBQUE7QUFBQSxJQUVyQixPQUFTLFdBQVMsSUFBSTtBQUFBLElBQ3RCLFNBQVcsV0FBUyxZQUFZO0FBQUEsRUFDbEMsQ0FBQztBQUFBO0FBQUEsRUFFQyxlQUFhLEVBQUUsTUFBUSxVQUFRLE9BQU8sR0FBRyxJQUFJLE9BQVMsTUFBSSxFQUFFLENBQUM7QUFBQSxFQUM3RCxlQUFhO0FBQUEsSUFDYixNQUFRLFVBQVEsS0FBSztBQUFBO0FBQUEsSUFFckIsTUFBUSxTQUFPO0FBQUEsSUFDZixLQUFPLFNBQU87QUFBQSxJQUNkLE9BQVMsV0FBVyxTQUFPLENBQUM7QUFBQSxJQUM1QixTQUFXLFdBQVMsWUFBWTtBQUFBLEVBQ2xDLENBQUM7QUFBQSxFQUNDLGVBQWE7QUFBQSxJQUNiLE1BQVEsVUFBUSxPQUFPO0FBQUEsSUFDdkI7QUFBQSxJQUNBLE1BQVEsU0FBTztBQUFBLElBQ2YsU0FBVyxTQUFPO0FBQUEsSUFDbEIsS0FBTyxXQUFXLFNBQU8sQ0FBQztBQUFBLElBQzFCLE9BQU87QUFBQTtBQUFBLElBRVAsT0FBTztBQUFBLEVBQ1QsQ0FBQztBQUFBLEVBQ0MsZUFBYSxFQUFFLE1BQVEsVUFBUSxRQUFRLEdBQUcsSUFBSSxPQUFPLFlBQVksU0FBVyxXQUFTLFlBQVksRUFBRSxDQUFDO0FBQUE7QUFBQSxFQUVwRyxlQUFhLEVBQUUsTUFBUSxVQUFRLFNBQVMsR0FBRyxPQUFTLFNBQU8sR0FBRyxLQUFPLFNBQU8sRUFBRSxDQUFDO0FBQUEsRUFDL0UsZUFBYSxFQUFFLE1BQVEsVUFBUSxPQUFPLEdBQUcsTUFBUSxTQUFPLEdBQUcsTUFBUSxTQUFPLEVBQUUsQ0FBQztBQUFBLEVBQzdFLGVBQWEsRUFBRSxNQUFRLFVBQVEsTUFBTSxHQUFHLE1BQVEsU0FBTyxHQUFHLElBQU0sVUFBUSxFQUFFLENBQUM7QUFDL0UsQ0FBQzs7O0FEM0NELGVBQXNCLFlBQVksUUFBZ0IsS0FBYUMsV0FBcUM7QUFDbEcsUUFBTSxPQUFPLEtBQUssUUFBUSxPQUFPLFFBQVEsR0FBRyxDQUFDO0FBQzdDLFFBQU0sUUFBUSxvQkFBSSxJQUFvQztBQUN0RCxRQUFNLFFBQVEsb0JBQUksSUFBbUI7QUFDckMsUUFBTSxPQUFPLG9CQUFJLElBQWtDO0FBQ25ELFFBQU0sU0FBMkMsQ0FBQztBQUNsRCxRQUFNLFNBQTJDLENBQUM7QUFDbEQsUUFBTSxVQUFVLG9CQUFJLElBQXlCO0FBQzdDLFFBQU0sUUFBUSxvQkFBSSxJQUFxQjtBQUN2QyxRQUFNLFFBQVEsb0JBQUksSUFBbUI7QUFDckMsUUFBTSxTQUFTLG9CQUFJLElBQVk7QUFDL0IsTUFBSTtBQUNKLE1BQUlDLFdBQVU7QUFDZCxRQUFNLE9BQU8sQ0FBQ0MsS0FBWSxVQUEyQjtBQUNuRCxVQUFNLFFBQVFBLElBQUcsTUFBTSxLQUFLLENBQUMsRUFBRSxDQUFDO0FBQ2hDLFVBQU0sU0FBUyxNQUFNLElBQUksS0FBSztBQUM5QixRQUFJLE9BQVEsUUFBTyxJQUFJQSxLQUFJLEtBQUs7QUFBQSxRQUMzQixPQUFNLElBQUksT0FBTyxvQkFBSSxJQUFJLENBQUMsQ0FBQ0EsS0FBSSxLQUFLLENBQUMsQ0FBQyxDQUFDO0FBQUEsRUFDOUM7QUFDQSxtQkFBaUIsUUFBUSxRQUFRLElBQUksR0FBRztBQUN0QyxZQUFRLEtBQUssTUFBTTtBQUFBLE1BQ2pCLEtBQUs7QUFDSCxpQkFBUztBQUNULFFBQUFELFdBQVUsS0FBSztBQUNmO0FBQUEsTUFDRixLQUFLO0FBQ0gsUUFBQUEsV0FBVSxLQUFLO0FBQ2Y7QUFBQSxNQUNGLEtBQUs7QUFDSCxhQUFLLEtBQUssSUFBSSxFQUFFLE9BQU8sYUFBYSxNQUFNLENBQUMsR0FBRyxPQUFPLENBQUMsR0FBRyxTQUFTLFFBQVcsTUFBTSxLQUFLLE1BQU0sS0FBSyxLQUFLLElBQUksQ0FBQztBQUM3RztBQUFBLE1BQ0YsS0FBSztBQUNILGFBQUssS0FBSyxJQUFJO0FBQUEsVUFDWixPQUFPLEtBQUssVUFBVSxXQUFXO0FBQUEsVUFDakMsTUFBTUQsVUFBUyxLQUFLLEtBQUssUUFBUSxDQUFDLENBQUM7QUFBQSxVQUNuQyxPQUFPQSxVQUFTLEtBQUssS0FBSyxTQUFTLENBQUMsQ0FBQztBQUFBLFVBQ3JDLFNBQVMsS0FBSyxXQUFXLFlBQVksS0FBSyxPQUFPO0FBQUEsVUFDakQsTUFBTTtBQUFBLFVBQ04sS0FBSztBQUFBLFFBQ1AsQ0FBQztBQUNEO0FBQUEsTUFDRixLQUFLO0FBQ0gsY0FBTSxJQUFJLEtBQUssSUFBSSxLQUFLLEtBQWM7QUFDdEM7QUFBQSxNQUNGLEtBQUssT0FBTztBQUNWLGNBQU0sS0FBSyxLQUFLLFlBQVk7QUFDNUIsY0FBTSxTQUFTLEtBQUssSUFBSSxLQUFLLElBQUk7QUFDakMsWUFBSSxPQUFRLFFBQU8sSUFBSSxLQUFLLEtBQUssRUFBRTtBQUFBLFlBQzlCLE1BQUssSUFBSSxLQUFLLE1BQU0sb0JBQUksSUFBSSxDQUFDLENBQUMsS0FBSyxLQUFLLEVBQUUsQ0FBQyxDQUFDLENBQUM7QUFDbEQsWUFBSSxLQUFLO0FBQ1AsaUJBQU8sS0FBSyxFQUFFLE1BQU0sS0FBSyxNQUFNLEtBQUssS0FBSyxLQUFLLE9BQU8sS0FBSyxTQUFTLElBQUksU0FBUyxLQUFLLFFBQVEsQ0FBQztBQUNoRyxjQUFNLE9BQU8sR0FBRyxLQUFLLElBQUksSUFBSSxLQUFLLEdBQUcsRUFBRTtBQUN2QztBQUFBLE1BQ0Y7QUFBQSxNQUNBLEtBQUssU0FBUztBQUNaLGNBQU0sRUFBRSxJQUFBRSxLQUFJLE1BQU0sTUFBTSxTQUFTLEtBQUssT0FBTyxNQUFNLElBQUk7QUFDdkQsY0FBTSxJQUFJQSxLQUFJLEVBQUUsSUFBQUEsS0FBSSxNQUFNLE1BQU0sU0FBUyxLQUFLLE9BQU9GLFVBQVMsS0FBSyxLQUFLLEdBQUcsT0FBT0EsVUFBUyxLQUFLLEtBQUssRUFBRSxDQUFDO0FBQ3hHO0FBQUEsTUFDRjtBQUFBLE1BQ0EsS0FBSztBQUNILFlBQUksS0FBSyxVQUFVLFVBQVUsS0FBSyxVQUFVLGFBQWMsUUFBTyxJQUFJLEtBQUssRUFBRTtBQUM1RTtBQUFBLE1BQ0YsS0FBSyxXQUFXO0FBQ2QsY0FBTSxPQUFPLFFBQVEsSUFBSSxLQUFLLEtBQUs7QUFDbkMsWUFBSSxLQUFNLE1BQUssSUFBSSxLQUFLLEdBQUc7QUFBQSxZQUN0QixTQUFRLElBQUksS0FBSyxPQUFPLG9CQUFJLElBQUksQ0FBQyxLQUFLLEdBQUcsQ0FBQyxDQUFDO0FBQ2hEO0FBQUEsTUFDRjtBQUFBLE1BQ0EsS0FBSztBQUNILGVBQU8sS0FBSyxFQUFFLE1BQU0sS0FBSyxNQUFNLE1BQU0sS0FBSyxLQUFLLENBQUM7QUFDaEQ7QUFBQSxNQUNGLEtBQUs7QUFDSCxjQUFNLElBQUksS0FBSyxNQUFNLEtBQUssRUFBRTtBQUFBLElBQ2hDO0FBQUEsRUFDRjtBQUNBLE1BQUksQ0FBQyxRQUFRO0FBQ1gsVUFBTSxJQUFJLFFBQVEsY0FBYztBQUFBLE1BQzlCLE1BQU0sc0JBQXNCLEdBQUc7QUFBQSxNQUMvQixPQUFPLEVBQUUsTUFBTSxLQUFLO0FBQUEsTUFDcEIsUUFBUTtBQUFBLElBQ1YsQ0FBQztBQUFBLEVBQ0g7QUFDQSxTQUFPLEVBQUUsTUFBTSxRQUFRLFNBQUFDLFVBQVMsT0FBTyxPQUFPLE1BQU0sUUFBUSxRQUFRLFNBQVMsT0FBTyxPQUFPLE9BQU87QUFDcEc7QUFHQSxTQUFTLGlCQUFpQixRQUFtRTtBQUMzRixNQUFJO0FBQ0osTUFBSTtBQUNGLFlBQVEsWUFBWSxNQUFNO0FBQUEsRUFDNUIsUUFBUTtBQUNOLFdBQU8sQ0FBQztBQUFBLEVBQ1Y7QUFDQSxTQUFPLE1BQ0osT0FBTyxDQUFDLFNBQVMsS0FBSyxTQUFTLFFBQVEsQ0FBQyxFQUN4QyxLQUFLLEVBQ0wsUUFBUSxFQUNSLElBQUksQ0FBQyxVQUFVLEVBQUUsTUFBTSxLQUFLLEtBQUssUUFBUSxrQkFBa0IsRUFBRSxFQUFFLEVBQUU7QUFDdEU7QUFFQSxTQUFTLE9BQU8sUUFBZ0IsS0FBcUI7QUFDbkQsUUFBTSxNQUFNLGlCQUFpQixNQUFNO0FBQ25DLFFBQU0sUUFBUSxRQUFRLFNBQVMsSUFBSSxDQUFDLElBQUksSUFBSSxLQUFLLENBQUMsUUFBUSxJQUFJLFFBQVEsR0FBRztBQUN6RSxNQUFJLE1BQU8sUUFBTyxNQUFNO0FBQ3hCLFFBQU0sSUFBSSxRQUFRLGtCQUFrQjtBQUFBLElBQ2xDLE1BQU0sUUFBUSxTQUFTLDJCQUEyQixtQkFBbUIsR0FBRztBQUFBLElBQ3hFLFFBQ0UsSUFBSSxXQUFXLElBQ1gseUNBQ0E7QUFBQSxNQUNFO0FBQUEsTUFDQSxJQUFJLE1BQU0sR0FBRyxFQUFFLEVBQUUsSUFBSSxDQUFDLFFBQVEsSUFBSSxHQUFHO0FBQUEsSUFDdkM7QUFBQSxJQUNOLE1BQU0sRUFBRSxJQUFJO0FBQUEsRUFDZCxDQUFDO0FBQ0g7QUFFQSxnQkFBZ0IsUUFBUSxNQUEyQztBQUNqRSxtQkFBaUIsUUFBUSxVQUFVLElBQUksR0FBRztBQUN4QyxVQUFNLFNBQVMsWUFBWSxVQUFVLElBQUk7QUFDekMsUUFBSSxPQUFPLFFBQVMsT0FBTSxPQUFPO0FBQUEsRUFDbkM7QUFDRjs7O0FEbkpBLGVBQXNCLFdBQ3BCLE9BQ0EsTUFDQSxLQUNBLFVBQ2dFO0FBQ2hFLFFBQU0sUUFBUSxNQUFNLFFBQVEsSUFBSTtBQUNoQyxRQUFNLFNBQVMsTUFBTSxZQUFZLGNBQWMsS0FBSyxHQUFHLEtBQUssU0FBUyxPQUFPLFFBQVEsQ0FBQztBQUNyRixRQUFNLEVBQUUsT0FBTyxhQUFhLFVBQVUsUUFBUSxJQUFJLE9BQU87QUFDekQsU0FBTztBQUFBLElBQ0w7QUFBQSxJQUNBLE9BQU87QUFBQSxNQUNMO0FBQUEsTUFDQTtBQUFBLE1BQ0EsVUFBVSxJQUFJLElBQUksS0FBSyxNQUFNLE1BQU0sS0FBSyxRQUFRLENBQUMsQ0FBdUI7QUFBQSxNQUN4RTtBQUFBLElBQ0Y7QUFBQSxFQUNGO0FBQ0Y7QUFHTyxTQUFTLFdBQVcsRUFBRSxTQUFBRSxVQUFTLE9BQU8sR0FBVyxFQUFFLE1BQU0sR0FBaUI7QUFDL0UsTUFBSSxDQUFDLE1BQU1BLFFBQU8sRUFBRztBQUNyQixRQUFNLElBQUksUUFBUSxTQUFTO0FBQUEsSUFDekIsTUFBTSxPQUFPLE9BQU8sR0FBRyxtQ0FBbUNBLFFBQU87QUFBQSxJQUNqRSxRQUFRO0FBQUEsRUFDVixDQUFDO0FBQ0g7QUFFQSxJQUFNLFdBQVcsQ0FBQyxVQUNoQixXQUFXLFFBQVEsRUFDaEIsT0FBTyxNQUFNLElBQUksQ0FBQyxFQUFFLEtBQUssTUFBTSxJQUFJLEVBQUUsS0FBSyxJQUFJLENBQUMsRUFDL0MsT0FBTyxLQUFLO0FBTWpCLGVBQXNCLFFBQ3BCLFdBQ0EsTUFDQSxPQUNBLE9BQ0EsRUFBRSxTQUFBQSxTQUFRLEdBQ1YsUUFDa0I7QUFDbEIsUUFBTSxFQUFFLFlBQVksS0FBSyxTQUFTLElBQUk7QUFDdEMsUUFBTSxRQUFRLE1BQU0sUUFBUSxJQUFJO0FBQ2hDLFFBQU0sU0FBbUIsU0FBUyxPQUFPLFFBQVE7QUFDakQsUUFBTUMsT0FBSyxvQkFBSSxLQUFLLEdBQUUsWUFBWTtBQUNsQyxRQUFNLFNBQVMsU0FBUyxTQUFTLEtBQUs7QUFDdEMsTUFBSSxRQUFRO0FBQ1YsVUFBTSxFQUFFLElBQUksSUFBSSxPQUFPO0FBQ3ZCLFFBQUksV0FBVyxVQUFhLE9BQU8sT0FBTyxXQUFXLFFBQVE7QUFDM0QsWUFBTSxJQUFJLFFBQVEsU0FBUztBQUFBLFFBQ3pCLE1BQU0scUJBQXFCLEdBQUc7QUFBQSxRQUM5QixRQUFRLDhCQUE4QixHQUFHLG1EQUFtRCxHQUFHO0FBQUEsTUFDakcsQ0FBQztBQUFBLElBQ0g7QUFDQSxVQUFNQyxTQUFRLEVBQUUsTUFBTSxXQUFXLEtBQUssSUFBSSxLQUFLLElBQUFELEtBQUksU0FBQUQsU0FBUTtBQUMzRCxXQUFPLFlBQVksRUFBRSxNQUFNLE9BQU8sTUFBTSxLQUFLLFVBQVUsUUFBUSxPQUFBRSxRQUFPLE9BQU8sQ0FBQztBQUFBLEVBQ2hGO0FBQ0EsUUFBTSxRQUFxQjtBQUFBLElBQ3pCLE1BQU07QUFBQSxJQUNOLEtBQUssSUFBSTtBQUFBLElBQ1QsSUFBQUQ7QUFBQSxJQUNBLFNBQUFEO0FBQUEsSUFDQSxhQUFhLE1BQU07QUFBQSxJQUNuQixPQUFPLENBQUMsR0FBRyxNQUFNLEtBQUs7QUFBQSxJQUN0QixVQUFVLE1BQU0sS0FBSyxLQUFLLFVBQVUsQ0FBQyxHQUFHLE1BQU0sUUFBUSxDQUFDLENBQUM7QUFBQSxJQUN4RCxTQUFTLE1BQU07QUFBQSxJQUNmLFFBQVEsVUFBVTtBQUFBLEVBQ3BCO0FBQ0EsUUFBTSxPQUFPRyxNQUFLLGNBQWMsV0FBVyxLQUFLLEdBQUcsR0FBR0YsSUFBRyxRQUFRLFVBQVUsRUFBRSxDQUFDLElBQUksSUFBSSxHQUFHLFFBQVE7QUFDakcsU0FBTyxZQUFZLEVBQUUsTUFBTSxLQUFLLElBQUksS0FBSyxVQUFVLFFBQVEsT0FBTyxRQUFRLE9BQVUsQ0FBQztBQUN2RjtBQUdPLFNBQVMsWUFBWSxPQUE2QixFQUFFLFFBQVEsTUFBTSxHQUFtQjtBQUUxRixRQUFNLE9BQU8sQ0FBQyxNQUFjLFNBQTBCLE9BQU8sTUFBTSxXQUFXO0FBQzlFLFNBQU8sTUFBTSxJQUFJLENBQUMsRUFBRSxLQUFLLEdBQUcsU0FBZTtBQUN6QyxVQUFNLE1BQU0sQ0FBQyxHQUFHLElBQUksSUFBSSxPQUFPLE9BQU8sQ0FBQyxFQUFFLEtBQUssTUFBTSxLQUFLLE1BQU0sSUFBSSxDQUFDLEVBQUUsSUFBSSxDQUFDLEVBQUUsSUFBSSxNQUFNLEdBQUcsQ0FBQyxDQUFDO0FBQzVGLFFBQUksS0FBTSxRQUFPLElBQUksV0FBVyxJQUFJLFNBQVM7QUFDN0MsV0FBTyxDQUFDLEdBQUcsS0FBSyxFQUFFLEtBQUssQ0FBQyxDQUFDLE1BQU0sRUFBRSxNQUFNLENBQUMsTUFBTSxLQUFLLE1BQU0sSUFBSSxDQUFDLElBQUksUUFBUTtBQUFBLEVBQzVFLENBQUM7QUFDSDs7O0FHNUdBLGVBQXNCLGNBQWMsV0FBc0IsUUFBbUQ7QUFDM0csYUFBVyxRQUFRLENBQUMsR0FBRyxVQUFVLFNBQVMsTUFBTSxHQUFHO0FBQ2pELFFBQUk7QUFDRixZQUFNLFVBQVUsU0FBUyxNQUFNLElBQUk7QUFDbkMsYUFBTyxFQUFFLE9BQU8sa0JBQWtCLE1BQU0sU0FBUyxPQUFVLENBQUM7QUFBQSxJQUM5RCxTQUFTLE9BQU87QUFDZCxhQUFPLEVBQUUsT0FBTyxrQkFBa0IsTUFBTSxTQUFTLFVBQVUsS0FBSyxFQUFFLENBQUM7QUFBQSxJQUNyRTtBQUFBLEVBQ0Y7QUFDRjs7O0FDUkEsZUFBZSxRQUFRLE1BQVksUUFBZ0Q7QUFDakYsYUFBVyxTQUFTLEtBQUssS0FBSyxRQUFRLEVBQUcsT0FBTSxRQUFRLE9BQU8sTUFBTSxNQUFNO0FBQzVFO0FBRUEsZUFBZSxRQUFRLE9BQWtCLE1BQVksUUFBZ0Q7QUFDbkcsUUFBTSxFQUFFLE1BQU0sT0FBTyxJQUFBRyxLQUFJLElBQUksSUFBSTtBQUNqQyxRQUFNLEVBQUUsT0FBTyxNQUFNLFFBQVEsSUFBSSxNQUFNLFVBQVUsS0FBSyxNQUFNO0FBQzVELE9BQUssT0FBTyxFQUFFLE9BQU8sUUFBUSxPQUFPLE1BQU0sT0FBTyxLQUFLLEtBQUssS0FBSyxNQUFNLFFBQVEsQ0FBQztBQUMvRSxPQUFLLFNBQVMsT0FBT0EsS0FBSSxPQUFPLE9BQU87QUFDekM7QUFRQSxlQUFzQixVQUFVLEtBQXVCLFFBQWtEO0FBQ3ZHLE1BQUk7QUFDRixVQUFNLEVBQUUsTUFBTSxTQUFTLElBQUksTUFBTSxJQUFJLE1BQU07QUFDM0MsVUFBTSxDQUFDLE9BQU8sSUFBSTtBQUVsQixVQUFNLE9BQU8sTUFBTSxRQUFRLFVBQVUsV0FBVyxPQUFPLE1BQU0sUUFBUSxVQUFVLFdBQVc7QUFDMUYsV0FBTyxFQUFFLE9BQU8sVUFBVyxPQUFPLGVBQWUsV0FBWSxRQUFRLE1BQU0sU0FBUyxPQUFPLFNBQVksUUFBUTtBQUFBLEVBQ2pILFNBQVMsT0FBTztBQUNkLFVBQU0sVUFBVSxVQUFVLEtBQUs7QUFDL0IsVUFBTSxVQUFVLFFBQVEsU0FBUyxtQkFBbUIsUUFBUSxTQUFTO0FBQ3JFLFdBQU8sRUFBRSxPQUFPLFVBQVUsZUFBZSxVQUFVLE1BQU0sUUFBVyxRQUFRO0FBQUEsRUFDOUU7QUFDRjtBQVFBLGVBQXNCLGFBQWEsTUFBaUIsTUFBWSxZQUFzRDtBQUNwSCxRQUFNLFVBQVUsTUFBTSxVQUFVLEtBQUssT0FBTyxJQUFJO0FBQ2hELFFBQU0sTUFBTSxLQUFLLFNBQVMsWUFBYSxLQUFLLFNBQVMsYUFBYSxZQUFZO0FBRTlFLFFBQU0sWUFBWSxPQUFPLEtBQUssS0FBSyxTQUFTLEtBQUssQ0FBQyxLQUFLLFVBQVU7QUFDakUsTUFBSSxVQUFXLE9BQU0sUUFBUSxNQUFNLFVBQVU7QUFDN0MsU0FBTyxFQUFFLFNBQVMsVUFBVTtBQUM5Qjs7O0FDaENPLElBQU0sU0FBUyxDQUFDLEVBQUUsT0FBTyxPQUFPLE1BQ3JDLENBQUMsR0FBRyxNQUFNLE9BQU8sQ0FBQyxFQUFFLE9BQU8sQ0FBQyxFQUFFLElBQUFDLElBQUcsTUFBTSxDQUFDLE9BQU8sSUFBSUEsR0FBRSxDQUFDLEVBQUUsUUFBUTtBQUVsRSxlQUFzQixRQUNwQixXQUNBLFFBQ0EsU0FDQSxRQUNBLFFBQ3NCO0FBQ3RCLE1BQUksQ0FBQyxRQUFRLFNBQVMsSUFBSSxDQUFDLEdBQUcsQ0FBQztBQUMvQixZQUFVLGtCQUFrQixDQUFDLFNBQVMsT0FBTyxFQUFFLE9BQU8sa0JBQWtCLE1BQU0sU0FBUyxPQUFVLENBQUM7QUFDbEcsYUFBVyxTQUFTLE9BQU8sTUFBTSxHQUFHO0FBQ2xDLFFBQUksT0FBTyxRQUFTO0FBQ3BCLFVBQU0sUUFBUSxNQUFNQyxTQUFRLFdBQVcsT0FBTyxNQUFNO0FBQ3BELFlBQVEsT0FBTyxNQUFNLElBQUksTUFBTSxPQUFPLE1BQU0sT0FBTztBQUNuRCxXQUFPLEtBQUs7QUFDWixRQUFJLE1BQU0sVUFBVSxVQUFVLE1BQU0sVUFBVSxhQUFjLFdBQVU7QUFBQSxRQUNqRSxjQUFhO0FBQUEsRUFDcEI7QUFDQSxRQUFNLGNBQWMsV0FBVyxNQUFNO0FBQ3JDLFlBQVUsa0JBQWtCO0FBQzVCLFNBQU8sRUFBRSxLQUFLLE9BQU8sT0FBTyxLQUFLLFFBQVEsVUFBVTtBQUNyRDtBQUVBLGVBQWVBLFNBQVEsV0FBc0IsT0FBYyxRQUF5QztBQUNsRyxRQUFNLEVBQUUsTUFBTSxTQUFTLEtBQUssT0FBTyxNQUFNLElBQUk7QUFDN0MsUUFBTSxTQUFTLElBQUksSUFBSSxNQUFNLElBQUksQ0FBQyxRQUFRLENBQUMsSUFBSSxNQUFNLEdBQUcsQ0FBQyxDQUFDO0FBQzFELFFBQU0sRUFBRSxPQUFPLE1BQU0sUUFBUSxJQUFJLE1BQU0sVUFBVSxPQUFPLFdBQVc7QUFDakUsVUFBTSxXQUFXLE1BQU0sVUFBVSxRQUFRLE9BQU87QUFDaEQsVUFBTSxPQUFPLE1BQU0sWUFBWSxXQUFXLFVBQVU7QUFBQSxNQUNsRCxPQUFPLENBQUMsVUFBNkIsT0FBTyxJQUFJLEtBQUs7QUFBQSxNQUNyRCxRQUFRLGNBQWMsS0FBSztBQUFBLE1BQzNCLFFBQVE7QUFBQSxNQUNSLE1BQU0sV0FBVyxJQUFJO0FBQUEsTUFDckI7QUFBQSxJQUNGLENBQUM7QUFDRCxXQUFPLEVBQUUsTUFBTSxNQUFNLE1BQU0sQ0FBQyxHQUFHLFVBQVUsS0FBSyxTQUFTO0FBQUEsRUFDekQsR0FBRyxNQUFNO0FBQ1QsU0FBTyxFQUFFLE9BQU8sUUFBUSxPQUFPLFNBQVMsTUFBTSxPQUFPLEtBQUssTUFBTSxRQUFRO0FBQzFFO0FBRUEsSUFBTSxnQkFBZ0IsQ0FBQ0MsVUFBcUM7QUFDMUQsUUFBTSxRQUFRLElBQUksSUFBSUEsTUFBSyxJQUFJLENBQUMsUUFBUSxDQUFDLElBQUksTUFBTSxHQUFHLENBQUMsQ0FBQztBQUN4RCxTQUFPLEVBQUUsUUFBUSxDQUFDLFNBQVMsTUFBTSxJQUFJLElBQUksR0FBRyxPQUFPLE1BQU0sTUFBTSxLQUFLLEdBQUcsUUFBUSxDQUFDLG1CQUFtQixFQUFFO0FBQ3ZHOzs7QUMzQ08sU0FBUyxXQUFXLE9BQWtCLFVBQW9CLE1BQVksUUFBUSxHQUFhO0FBQ2hHLFVBQVEsTUFBTSxPQUFPO0FBQUEsSUFDbkIsS0FBSztBQUNILGFBQU8sVUFBVSxPQUFPLFVBQVUsTUFBTSxLQUFLO0FBQUEsSUFDL0MsS0FBSztBQUNILGFBQU8sVUFBVSxPQUFPLFVBQVUsSUFBSTtBQUFBLElBQ3hDLEtBQUs7QUFDSCxhQUFPLFNBQVMsT0FBTyxVQUFVLElBQUk7QUFBQSxJQUN2QyxLQUFLO0FBQ0gsYUFBTyxDQUFDLEdBQUcsU0FBUyxJQUFJLElBQUksU0FBUyxDQUFDLFlBQVksTUFBTSxJQUFJLEVBQUU7QUFBQSxJQUNoRSxLQUFLO0FBQ0gsYUFBTyxNQUFNLFVBQ1Q7QUFBQSxRQUNFLEdBQUcsU0FBUyxJQUFJLElBQUksU0FBUyxDQUFDLHdCQUF3QixNQUFNLElBQUksS0FBSyxjQUFjLEtBQUssTUFBTSxRQUFRLElBQUksQ0FBQyxDQUFDO0FBQUEsTUFDOUcsSUFDQSxDQUFDLEdBQUcsU0FBUyxJQUFJLElBQUksU0FBUyxDQUFDLFlBQVksTUFBTSxJQUFJLEVBQUU7QUFBQSxJQUM3RCxLQUFLO0FBQ0gsYUFBTyxDQUFDLFNBQVMsT0FBTyxRQUFRLENBQUM7QUFBQSxJQUNuQyxLQUFLO0FBQ0gsYUFBTyxXQUFXLE9BQU8sVUFBVSxJQUFJO0FBQUEsRUFDM0M7QUFDRjtBQUdBLFNBQVMsU0FBUyxFQUFFLEtBQUssT0FBTyxRQUFRLEdBQWEsRUFBRSxJQUFJLEdBQWEsTUFBc0I7QUFDNUYsUUFBTSxPQUFPLEdBQUcsSUFBSSxJQUFJLFNBQVMsQ0FBQyxRQUFRLEdBQUcsSUFBSSxJQUFJLElBQUksSUFBSSxjQUFjLEtBQUssS0FBSyxDQUFDLENBQUMsR0FBRyxDQUFDO0FBQzNGLFNBQU8sVUFBVSxDQUFDLE1BQU0sV0FBVyxjQUFjLEtBQUssUUFBUSxJQUFJLENBQUMsQ0FBQyxFQUFFLElBQUksQ0FBQyxJQUFJO0FBQ2pGO0FBR0EsU0FBUyxXQUFXLEVBQUUsS0FBSyxXQUFXLElBQUksT0FBTyxHQUFjLEVBQUUsSUFBSSxHQUFhLE1BQW9CO0FBQ3BHLFFBQU0sUUFBUSxhQUFhLEtBQUssS0FBSyxJQUFJLElBQUksS0FBSyxjQUFjLEtBQUssUUFBUSxDQUFDLENBQUMsR0FBRztBQUNsRixTQUFPLEdBQUcsUUFBUSxTQUFZLEtBQUssT0FBTyxHQUFHLEdBQUcsS0FBSyxJQUFJLEdBQUcsV0FBVyxTQUFZLEtBQUssR0FBRyxNQUFNLElBQUk7QUFDdkc7QUFFQSxTQUFTLFVBQVUsT0FBa0IsVUFBb0IsTUFBWSxPQUF5QjtBQUM1RixRQUFNLEVBQUUsSUFBSSxJQUFJO0FBQ2hCLFFBQU0sRUFBRSxPQUFPLE9BQU8sT0FBTyxNQUFNLE1BQUFDLE9BQU0sVUFBVSxNQUFNLEtBQUssSUFBSTtBQUNsRSxRQUFNLFNBQVMsS0FBSyxPQUFPLEtBQUs7QUFDaEMsUUFBTSxPQUFPLEVBQUUsSUFBSSxJQUFJLE1BQU0sU0FBUyxHQUFHLFFBQVEsSUFBSSxJQUFJLFNBQVMsR0FBRyxTQUFTLElBQUksSUFBSSxTQUFTLEVBQUUsRUFBRSxLQUFLO0FBQ3hHLFFBQU0sV0FBVyxNQUFNLFFBQVE7QUFDL0IsUUFBTSxTQUFTLFNBQVMsVUFBYSxhQUFhLFVBQWEsS0FBSyxRQUFRLFlBQVk7QUFDeEYsUUFBTSxRQUFRO0FBQUEsSUFDWixRQUNFLEdBQUcsSUFBSSxLQUFLLEtBQUssS0FBSyxNQUFNLENBQUMsSUFBSSxXQUFXLFdBQVcsU0FBUyxRQUFRLFNBQVMsTUFBTSxRQUFRLEtBQUssVUFBVSxJQUFJLElBQUksU0FBUyxjQUFjLEtBQUssS0FBSyxLQUFLLFFBQVEsQ0FBQyxJQUFJLElBQUksSUFBSSxXQUFXLENBQUM7QUFBQSxJQUMvTCxZQUFZLElBQUksSUFBSSxhQUFhLFNBQVMsTUFBTSxPQUFPLEtBQUssQ0FBQztBQUFBLElBQzdELFFBQVEsS0FBSyxRQUFRLEtBQUssSUFBSSxPQUFPLEdBQUcsS0FBSyxLQUFLLFFBQVE7QUFBQSxJQUMxRCxRQUNFLEtBQUssU0FBUyxTQUFTLEtBQ3ZCLElBQUksSUFBSSxHQUFHLEtBQUssU0FBUyxPQUFPLENBQUMsRUFBRSxHQUFHLE1BQU0sRUFBRSxFQUFFLE1BQU0sT0FBTyxLQUFLLFNBQVMsTUFBTSxjQUFjO0FBQUEsSUFDakcsR0FBRyxVQUFVLE1BQU0sSUFBSSxFQUFFLElBQUksSUFBSSxHQUFHO0FBQUEsSUFDcENBLE1BQUssU0FBUyxLQUFLLFNBQVMsVUFBVSxTQUFTLFlBQVksSUFBSSxJQUFJLFFBQVFBLE1BQUssS0FBSyxJQUFJLENBQUMsRUFBRTtBQUFBLEVBQzlGLEVBQUUsT0FBTyxPQUFPO0FBQ2hCLFFBQU0sTUFBTSxJQUFJLE9BQU8sS0FBSyxJQUFJLEdBQUcsUUFBUSxPQUFPLFNBQVMsTUFBTSxNQUFNLENBQUM7QUFDeEUsUUFBTSxPQUFPLE1BQU0sU0FBUyxJQUFJLEdBQUcsR0FBRyxNQUFNLE1BQU0sS0FBSyxLQUFLLENBQUMsS0FBSztBQUNsRSxRQUFNLFFBQVEsQ0FBQyxHQUFHLElBQUksSUFBSSxNQUFNLEdBQUcsV0FBVyxPQUFPLFVBQVUsSUFBSSxDQUFDLEdBQUcsSUFBSSxLQUFLLEtBQUssQ0FBQyxHQUFHLElBQUksRUFBRTtBQUMvRixhQUFXLFdBQVcsVUFBVTtBQUM5QixVQUFNLEtBQUssV0FBVyxNQUFNLEdBQUcsY0FBYyxLQUFLLFFBQVEsSUFBSSxDQUFDLENBQUMsRUFBRTtBQUNsRSxRQUFJLFFBQVEsV0FBVyxPQUFXLE9BQU0sS0FBSyxXQUFXLE1BQU0sR0FBRyxJQUFJLElBQUksY0FBYyxLQUFLLFFBQVEsTUFBTSxDQUFDLENBQUMsQ0FBQyxFQUFFO0FBQy9HLFFBQUksUUFBUSxXQUFXO0FBQ3JCLFlBQU0sS0FBSyxXQUFXLE1BQU0sR0FBRyxJQUFJLElBQUksS0FBSyxDQUFDLElBQUksY0FBYyxLQUFLLFFBQVEsTUFBTSxDQUFDLENBQUMsRUFBRTtBQUFBLEVBQzFGO0FBQ0EsYUFBVyxFQUFFLElBQUFDLEtBQUksTUFBTSxNQUFNLE1BQU0sTUFBTSxlQUFlLENBQUMsR0FBRyxNQUFNLEdBQUcsRUFBRTtBQUNyRSxVQUFNO0FBQUEsTUFDSixXQUFXLE1BQU0sR0FBRyxJQUFJLEtBQUssY0FBY0EsR0FBRSxDQUFDLENBQUMsTUFBTSxjQUFjLEtBQUssVUFBVSxJQUFJLENBQUMsQ0FBQyxDQUFDLE1BQU0sSUFBSSxJQUFJLEtBQUssQ0FBQyxJQUFJLGNBQWMsS0FBSyxVQUFVLEtBQUssQ0FBQyxDQUFDLENBQUM7QUFBQSxJQUN4SjtBQUNGLFFBQU0sV0FBVyxNQUFNLGFBQWEsVUFBVSxLQUFLO0FBQ25ELE1BQUksVUFBVSxFQUFHLE9BQU0sS0FBSyxXQUFXLE1BQU0sR0FBRyxJQUFJLElBQUksT0FBTyxPQUFPLG1CQUFtQixDQUFDLEVBQUU7QUFDNUYsTUFBSSxTQUFTLFNBQVMsS0FBSyxLQUFNLE9BQU0sS0FBSyxXQUFXLE1BQU0sR0FBRyxJQUFJLElBQUksUUFBUSxLQUFLLElBQUksRUFBRSxDQUFDLEVBQUU7QUFDOUYsU0FBTztBQUNUO0FBR0EsU0FBUyxVQUFVLE1BQXdCLE1BQXNCO0FBQy9ELE1BQUksQ0FBQyxLQUFNLFFBQU8sQ0FBQztBQUNuQixRQUFNLEVBQUUsT0FBTyxNQUFNLFFBQVEsU0FBUyxRQUFRLElBQUk7QUFDbEQsU0FBTztBQUFBLElBQ0wsU0FBUyxVQUFVLEtBQUs7QUFBQSxJQUN4QixRQUNFLFNBQVMsS0FBSyxLQUFLLElBQUksS0FBSyxVQUFVLElBQUksU0FBUyxPQUFPLEtBQUssY0FBYyxLQUFLLEtBQUssT0FBTyxLQUFLLFVBQUssQ0FBQyxDQUFDLENBQUM7QUFBQSxJQUM3RyxXQUFXLFVBQWEsU0FBUyxjQUFjLEtBQUssTUFBTSxDQUFDLENBQUM7QUFBQSxJQUM1RCxXQUNFLEdBQUcsUUFBUSxFQUFFLE9BQU8sUUFBUSxLQUFLLFFBQVEsTUFBTSxHQUFHLFFBQVEsU0FBUyxJQUFJLEtBQUssUUFBUSxNQUFNLG9CQUFvQixFQUFFO0FBQUEsSUFDbEgsWUFBWSxVQUFhLHlCQUF5QixjQUFjLEtBQUssT0FBTyxDQUFDLENBQUM7QUFBQSxFQUNoRixFQUFFLE9BQU8sQ0FBQyxTQUFTLE9BQU8sU0FBUyxRQUFRO0FBQzdDO0FBR0EsU0FBUyxVQUFVLEVBQUUsT0FBTyxPQUFPLE9BQU8sUUFBUSxHQUF1QztBQUN2RixRQUFNLFVBQVUsR0FBRyxLQUFLLElBQUksVUFBVSxJQUFJLFNBQVMsT0FBTztBQUMxRCxNQUFJLFlBQVksT0FBVyxRQUFPLEdBQUcsT0FBTyxHQUFHLEtBQUssSUFBSSxVQUFVLElBQUksU0FBUyxPQUFPO0FBQ3RGLFNBQU8sWUFBWSxPQUFPLEdBQUcsS0FBSyxHQUFHLFVBQVUsU0FBWSxXQUFXLE9BQU8sS0FBSyxRQUFRLEtBQUssT0FBTztBQUN4RztBQUVBLFNBQVMsU0FBUyxFQUFFLE1BQU0sTUFBTSxLQUFLLEtBQUssR0FBYyxFQUFFLElBQUksR0FBcUI7QUFDakYsU0FBTyxHQUFHLElBQUksT0FBTyxTQUFTLENBQUMsSUFBSSxJQUFJLEtBQUssYUFBYSxJQUFJLENBQUMsSUFBSSxJQUFJLElBQUksSUFBSSxHQUFHLEtBQUssT0FBTyx1QkFBdUIsa0NBQWtDLEdBQUcsQ0FBQztBQUM1SjtBQUVBLFNBQVMsV0FBVyxFQUFFLE9BQU8sU0FBUyxPQUFPLE9BQUFDLFFBQU8sSUFBSSxLQUFLLEdBQWUsVUFBb0IsTUFBc0I7QUFDcEgsUUFBTSxFQUFFLElBQUksSUFBSTtBQUNoQixRQUFNLE9BQU8sT0FBTyxTQUFZLENBQUMsSUFBSSxDQUFDLEdBQUcsSUFBSSxNQUFNLFNBQVMsQ0FBQyxJQUFJLEVBQUUsSUFBSSxJQUFJLElBQUksSUFBSUEsTUFBSyxZQUFZLEtBQUssR0FBRyxDQUFDLEVBQUU7QUFDL0csTUFBSSxDQUFDLEtBQU0sUUFBTztBQUNsQixRQUFNQyxTQUFRLE1BQU0sTUFBTSxHQUFHLEVBQUU7QUFDL0IsUUFBTSxRQUFRQSxPQUFNLEtBQUssQ0FBQyxTQUFTLEtBQUssVUFBVSxNQUFTLElBQUksQ0FBQyxHQUFHLFNBQVMsT0FBTyxJQUFJO0FBQ3ZGLFFBQU0sUUFBUUEsT0FBTSxJQUFJLENBQUMsU0FBUyxNQUFNLElBQUksQ0FBQyxTQUFTLGNBQWMsS0FBSyxTQUFTLEtBQUssSUFBSSxDQUFDLENBQUMsQ0FBQyxDQUFDLENBQUM7QUFDaEcsUUFBTUMsUUFBT0YsU0FBUUMsT0FBTTtBQUMzQixTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0EsTUFBTSxPQUFPLFVBQVUsRUFBRSxNQUFNLE9BQU8sUUFBUSxHQUFHLFVBQVUsTUFBTSxJQUFJLENBQUMsR0FBRyxVQUFVLEtBQUssRUFBRSxDQUFDO0FBQUEsSUFDM0YsR0FBSUMsUUFBTyxJQUFJLENBQUMsV0FBVyxJQUFJLElBQUksT0FBT0EsS0FBSSxZQUFZLENBQUMsRUFBRSxJQUFJLENBQUM7QUFBQSxJQUNsRTtBQUFBLElBQ0EsR0FBRztBQUFBLEVBQ0w7QUFDRjtBQUVBLFNBQVMsVUFBVSxFQUFFLE9BQU8sTUFBTSxPQUFPLEtBQUssTUFBTSxRQUFRLEdBQWMsRUFBRSxJQUFJLEdBQWEsTUFBc0I7QUFDakgsUUFBTSxXQUFXLE1BQU0sUUFBUTtBQUMvQixRQUFNLFNBQVMsV0FDWCxNQUFNLElBQUksS0FBSyxNQUFNLEtBQUssVUFBVSxFQUFFLENBQUMsSUFBSSxXQUFXLFNBQVMsUUFBUSxTQUFTLE1BQU0sUUFBUSxHQUFHLENBQUMsS0FDbEc7QUFDSixRQUFNLE9BQ0osVUFBVSxTQUFTLElBQUksTUFBTSxTQUFTLElBQUksVUFBVSxlQUFlLElBQUksSUFBSSxTQUFTLElBQUksSUFBSSxJQUFJLFNBQVM7QUFDM0csUUFBTSxPQUFPO0FBQUEsSUFDWCxNQUFNO0FBQUEsSUFDTixjQUFjO0FBQUEsSUFDZCxRQUFRO0FBQUEsSUFDUixZQUFZO0FBQUEsRUFDZCxFQUFFLEtBQUs7QUFDUCxRQUFNLFFBQVEsQ0FBQyxHQUFHLElBQUksSUFBSSxRQUFRLFNBQVksS0FBSyxPQUFPLEdBQUcsSUFBSSxHQUFHLElBQUksS0FBSyxJQUFJLENBQUMsT0FBTyxLQUFLLEdBQUcsTUFBTSxHQUFHLElBQUksRUFBRTtBQUNoSCxNQUFJLFFBQVMsT0FBTSxLQUFLLFdBQVcsY0FBYyxLQUFLLFFBQVEsSUFBSSxDQUFDLENBQUMsRUFBRTtBQUN0RSxTQUFPO0FBQ1Q7OztBQzVJQSxJQUFNLFNBQVMsQ0FBQyxZQUF1RCxVQUFVLE1BQU0sT0FBTyxJQUFJO0FBRWxHLElBQU0sVUFBVSxDQUFDLE9BQXVCLEtBQUssTUFBTSxLQUFLLEdBQUksSUFBSTtBQUl6RCxTQUFTLGNBQWMsT0FBa0IsTUFBMkI7QUFDekUsVUFBUSxNQUFNLE9BQU87QUFBQSxJQUNuQixLQUFLO0FBQ0gsYUFBTyxhQUFhLE9BQU8sSUFBSTtBQUFBLElBQ2pDLEtBQUs7QUFDSCxhQUFPO0FBQUEsUUFDTCxPQUFPO0FBQUEsUUFDUCxTQUFTLE1BQU07QUFBQSxRQUNmLE1BQU0sTUFBTTtBQUFBLFFBQ1osT0FBTyxNQUFNO0FBQUEsUUFDYixLQUFLLE1BQU0sT0FBTztBQUFBLFFBQ2xCLFNBQVMsT0FBTyxNQUFNLE9BQU87QUFBQSxNQUMvQjtBQUFBLElBQ0YsS0FBSztBQUNILGFBQU8sRUFBRSxPQUFPLE9BQU8sS0FBSyxNQUFNLEtBQUssT0FBTyxNQUFNLE9BQU8sSUFBSSxNQUFNLElBQUksU0FBUyxPQUFPLE1BQU0sT0FBTyxFQUFFO0FBQUEsSUFDMUcsS0FBSztBQUFBLElBQ0wsS0FBSztBQUNILGFBQU8sRUFBRSxPQUFPLE1BQU0sT0FBTyxTQUFTLE1BQU0sTUFBTSxTQUFTLE9BQU8sTUFBTSxPQUFPLEVBQUU7QUFBQSxJQUNuRixLQUFLO0FBQ0gsYUFBTztBQUFBLFFBQ0wsT0FBTztBQUFBLFFBQ1AsTUFBTSxNQUFNO0FBQUEsUUFDWixNQUFNLEtBQUssTUFBTSxNQUFNLElBQUk7QUFBQSxRQUMzQixLQUFLLE1BQU07QUFBQSxRQUNYLE1BQU0sTUFBTTtBQUFBLE1BQ2Q7QUFBQSxJQUNGLEtBQUs7QUFDSCxhQUFPLGNBQWMsS0FBSztBQUFBLEVBQzlCO0FBQ0Y7QUFFQSxTQUFTLGFBQWEsT0FBa0IsTUFBbUM7QUFDekUsUUFBTSxFQUFFLE9BQU8sTUFBTSxPQUFPLE9BQU8sS0FBSyxRQUFRLE1BQU0sTUFBQUMsT0FBTSxVQUFVLEtBQUssSUFBSTtBQUMvRSxRQUFNLFdBQVcsTUFBTSxRQUFRO0FBQy9CLFFBQU0sV0FBVyxNQUFNLFlBQVksQ0FBQztBQUNwQyxTQUFPO0FBQUEsSUFDTCxPQUFPO0FBQUEsSUFDUCxNQUFNO0FBQUEsSUFDTjtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQSxLQUFLLE9BQU87QUFBQSxJQUNaLFFBQVEsVUFBVTtBQUFBLElBQ2xCLEdBQUksUUFBUSxFQUFFLFFBQVEsS0FBSyxLQUFLLFFBQVEsS0FBSyxLQUFLLEtBQUssS0FBSyxRQUFRLEdBQUcsT0FBTyxLQUFLLE1BQU07QUFBQSxJQUN6RixRQUFRLFVBQVUsVUFBVTtBQUFBLElBQzVCLE1BQU0sV0FBVyxRQUFRLFNBQVMsSUFBSSxJQUFJO0FBQUEsSUFDMUMsY0FBYztBQUFBLE1BQ1osS0FBSyxTQUFTLE9BQU8sQ0FBQyxFQUFFLEdBQUcsTUFBTSxFQUFFLEVBQUU7QUFBQSxNQUNyQyxRQUFRLFNBQVMsT0FBTyxDQUFDLEVBQUUsR0FBRyxNQUFNLENBQUMsRUFBRSxFQUFFLElBQUksZUFBZTtBQUFBLElBQzlEO0FBQUEsSUFDQSxNQUFNLENBQUMsR0FBR0EsS0FBSTtBQUFBLElBQ2QsVUFBVSxTQUFTLElBQUksQ0FBQyxZQUFZLE1BQU0sT0FBTyxDQUFDO0FBQUEsSUFDbEQsR0FBSSxRQUFRLGFBQWEsSUFBSTtBQUFBLElBQzdCLE1BQU0sTUFBTSxRQUFRO0FBQUEsRUFDdEI7QUFDRjtBQUVBLFNBQVMsYUFBYSxFQUFFLE9BQU8sTUFBTSxRQUFRLGFBQWEsU0FBUyxRQUFRLEdBQWlCO0FBQzFGLFNBQU87QUFBQSxJQUNMLEdBQUksU0FBUyxFQUFFLE9BQU8sRUFBRSxHQUFHLE9BQU8sT0FBTyxNQUFNLFNBQVMsTUFBTSxTQUFTLE1BQU0sV0FBVyxLQUFLLEVBQUU7QUFBQSxJQUMvRixHQUFJLFFBQVEsRUFBRSxNQUFNLEVBQUUsT0FBTyxLQUFLLE9BQU8sUUFBUSxDQUFDLEdBQUcsS0FBSyxNQUFNLEVBQUUsRUFBRTtBQUFBLElBQ3BFLEdBQUksV0FBVyxVQUFhLEVBQUUsT0FBTztBQUFBLElBQ3JDLEdBQUksZUFBZSxFQUFFLGFBQWEsWUFBWSxJQUFJLGtCQUFrQixFQUFFO0FBQUEsSUFDdEUsR0FBSSxXQUFXLEVBQUUsUUFBUTtBQUFBLElBQ3pCLEdBQUksWUFBWSxVQUFhLEVBQUUsUUFBUTtBQUFBLEVBQ3pDO0FBQ0Y7QUFFQSxJQUFNLGdCQUFnQixDQUFDLEVBQUUsT0FBTyxTQUFTLE9BQU8sT0FBQUMsUUFBTyxHQUFHLE9BQTJDO0FBQUEsRUFDbkcsT0FBTztBQUFBLEVBQ1AsTUFBTTtBQUFBLEVBQ04sU0FBUyxDQUFDLEdBQUcsT0FBTztBQUFBLEVBQ3BCLE1BQU0sTUFBTTtBQUFBLElBQUksQ0FBQyxTQUNmLE9BQU8sWUFBWSxPQUFPLFFBQVEsSUFBSSxFQUFFLElBQUksQ0FBQyxDQUFDLE1BQU0sS0FBSyxNQUFNLENBQUMsTUFBTSxNQUFNLEtBQWMsQ0FBQyxDQUFDLENBQUM7QUFBQSxFQUMvRjtBQUFBLEVBQ0EsT0FBQUE7QUFBQSxFQUNBLElBQUksTUFBTTtBQUNaO0FBRU8sU0FBUyxnQkFBZ0IsU0FBa0IsUUFBMEM7QUFDMUYsUUFBTSxFQUFFLE1BQU0sU0FBUyxXQUFXLFNBQVMsT0FBTyxHQUFHLEdBQUcsTUFBTSxJQUFJO0FBQ2xFLFNBQU87QUFBQSxJQUNMLE9BQU87QUFBQSxJQUNQO0FBQUEsSUFDQSxHQUFHO0FBQUEsSUFDSCxRQUFRLEtBQUssTUFBTSxRQUFRLE1BQU07QUFBQSxJQUNqQyxNQUFNLEtBQUssTUFBTSxRQUFRLElBQUk7QUFBQSxJQUM3QixNQUFNLFFBQVE7QUFBQSxJQUNkLFdBQVcsQ0FBQyxHQUFHLFNBQVM7QUFBQSxJQUN4QixTQUFTLENBQUMsR0FBRyxPQUFPO0FBQUEsSUFDcEIsU0FBUyxPQUFPLE9BQU87QUFBQSxFQUN6QjtBQUNGO0FBRU8sU0FBUyxlQUFlLEVBQUUsUUFBUSxVQUFVLFdBQVcsR0FBb0M7QUFDaEcsU0FBTztBQUFBLElBQ0wsT0FBTztBQUFBLElBQ1AsUUFBUSxDQUFDLEdBQUcsTUFBTTtBQUFBLElBQ2xCLFVBQVUsU0FBUyxJQUFJLENBQUMsRUFBRSxNQUFNLE1BQU0sT0FBTyxFQUFFLE1BQU0sU0FBUyxPQUFPLFlBQVksS0FBSyxFQUFFLEVBQUU7QUFBQSxJQUMxRixZQUFZLFdBQVcsSUFBSSxDQUFDLGVBQWUsRUFBRSxHQUFHLFVBQVUsRUFBRTtBQUFBLEVBQzlEO0FBQ0Y7QUFFTyxJQUFNLHNCQUFzQixDQUFDLEVBQUUsS0FBSyxRQUFRLFVBQVUsT0FBbUQ7QUFBQSxFQUM5RyxPQUFPO0FBQUEsRUFDUDtBQUFBLEVBQ0E7QUFBQSxFQUNBO0FBQ0Y7OztBQy9HQSxJQUFNLFFBQVE7QUFFUCxTQUFTLFVBQVUsTUFBYyxVQUFvQixNQUFpRDtBQUMzRyxRQUFNLFFBQVEsb0JBQUksSUFBb0I7QUFDdEMsU0FBTztBQUFBLElBQ0wsT0FBTyxFQUFFLE1BQU0sTUFBTSxhQUFhLEtBQUssR0FBRztBQUN4QyxZQUFNLEVBQUUsSUFBSSxJQUFJO0FBQ2hCLFlBQU0sSUFBSSxNQUFNLEtBQUssRUFBRSxJQUFJLENBQUM7QUFDNUIsZUFBUyxLQUFLLEdBQUcsSUFBSSxPQUFPLFFBQVEsQ0FBQyxLQUFLLElBQUksR0FBRyxPQUFPLElBQUksSUFBSSxtQkFBbUIsSUFBSSxFQUFFLEVBQUU7QUFDM0YsaUJBQVcsRUFBRSxJQUFBQyxLQUFJLE1BQU0sTUFBTSxLQUFLLFlBQVksTUFBTSxHQUFHLEtBQUssR0FBRztBQUM3RCxjQUFNLFFBQVEsQ0FBQyxNQUFNLEtBQUssRUFBRSxJQUFJLENBQUMsVUFBVSxjQUFjLEtBQUssRUFBRSxVQUFVLEtBQUssQ0FBQyxDQUFDLENBQUM7QUFDbEYsaUJBQVMsS0FBSyxXQUFXLElBQUksS0FBSyxjQUFjQSxHQUFFLENBQUMsQ0FBQyxNQUFNLE1BQU0sS0FBSyxJQUFJLElBQUksV0FBVyxDQUFDLENBQUMsRUFBRTtBQUFBLE1BQzlGO0FBQ0EsVUFBSSxZQUFZLFNBQVMsTUFBTyxVQUFTLEtBQUssZUFBZSxZQUFZLFNBQVMsS0FBSyxPQUFPO0FBQUEsSUFDaEc7QUFBQSxJQUNBLE1BQU0sVUFBVTtBQUNkLGlCQUFXLENBQUMsTUFBTSxJQUFJLEtBQUssTUFBTyxPQUFNLGdCQUFnQixZQUFZLE1BQU0sSUFBSSxHQUFHLElBQUk7QUFBQSxJQUN2RjtBQUFBLEVBQ0Y7QUFDRjs7O0FDbkJBLGVBQXNCLE9BQ3BCLFNBQ0EsUUFDQSxNQU1pQjtBQUNqQixRQUFNLEVBQUUsU0FBUyxJQUFJO0FBQ3JCLFFBQU0sYUFBYSxLQUFLLGNBQWUsTUFBTSxRQUFRLFdBQVc7QUFDaEUsTUFBSTtBQUNKLFFBQU0sWUFBWSxVQUFVLFdBQVcsTUFBTSxVQUFVLE1BQU0sV0FBVyxTQUFTLFNBQVMsQ0FBQyxTQUFTLEtBQUs7QUFDekcsY0FBWSxNQUFNLFFBQVEsVUFBVTtBQUFBLElBQ2xDLEdBQUc7QUFBQSxJQUNIO0FBQUEsSUFDQSxjQUFjLE9BQU87QUFBQSxJQUNyQixPQUFPO0FBQUEsSUFDUCxRQUFRLE9BQU87QUFBQSxJQUNmLFFBQVEsT0FBTyxTQUFTLFVBQVUsU0FBUztBQUFBLElBQzNDLGVBQWUsTUFBTSxRQUFRO0FBQUEsSUFDN0IsUUFBUSxTQUFTLGNBQ2IsQ0FBQyxVQUFVLFdBQVcsU0FBUyxPQUFPLGFBQWEsTUFBTSxPQUFPLHNCQUFrQixHQUFHLFNBQVMsVUFBVSxNQUFNLENBQUMsSUFDL0c7QUFBQSxFQUNOLENBQUM7QUFDRCxTQUFPLEVBQUUsV0FBVyxTQUFTLFVBQVUsUUFBUTtBQUNqRDs7O0FDekNBLFNBQVMsZUFBZTtBQWlCeEIsSUFBTSxXQUFXO0FBRWpCLElBQU0sWUFBWTtBQUdsQixlQUFzQixZQUNwQixXQUNBLE9BQ0EsUUFDZTtBQUNmLGdCQUFjLFdBQVcsS0FBSztBQUM5QixNQUFJLFVBQVUsT0FBUTtBQUN0QixRQUFNLFlBQVksV0FBVyxLQUFLO0FBQ2xDLFFBQU0sY0FBYyxXQUFXLE1BQU07QUFDdkM7QUFHQSxlQUFlLFlBQVksV0FBc0IsT0FBNEM7QUFDM0YsUUFBTSxRQUFRLG9CQUFJLElBQWlCO0FBQ25DLGFBQVcsRUFBRSxPQUFPLEtBQUssS0FBSyxPQUFPO0FBRW5DLFFBQUksTUFBTSxTQUFTLEVBQUc7QUFDdEIsUUFDRSxRQUNBLENBQUMsR0FBRyxVQUFVLFlBQVksRUFBRSxLQUFLLENBQUMsU0FBUyxDQUFDLFVBQVUsT0FBTyxPQUFPLEtBQUssQ0FBQyxFQUFFLFVBQVUsTUFBTSxVQUFVLElBQUksSUFBSSxDQUFDLENBQUM7QUFFaEg7QUFDRixlQUFXLEVBQUUsVUFBVSxLQUFLLEtBQUssT0FBTztBQUN0QyxVQUFJLEtBQU07QUFDVixpQkFBVyxFQUFFLEtBQUssS0FBSyxVQUFVO0FBQy9CLGNBQU0sTUFBTSxZQUFZLFdBQVcsS0FBSyxRQUFRLE1BQU07QUFDdEQsWUFBSSxPQUFPLE1BQU0sT0FBTyxVQUFXLE9BQU0sSUFBSSxJQUFJLE1BQU0sR0FBRztBQUFBLE1BQzVEO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFDQSxRQUFNLFdBQVcsTUFBTSxRQUFRLElBQUksQ0FBQyxHQUFHLE1BQU0sT0FBTyxDQUFDLEVBQUUsSUFBSSxPQUFPLENBQUMsR0FBRyxPQUFPLENBQUMsWUFBWSxZQUFZLE1BQVM7QUFDL0csTUFBSSxRQUFRLFNBQVMsRUFBRyxPQUFNLFFBQVEsT0FBTyxNQUFNO0FBQ3JEO0FBR0EsU0FBUyxZQUFZLFdBQXNCLFFBQWdEO0FBQ3pGLE1BQUk7QUFDRixVQUFNLGVBQWUsRUFBRSxPQUFPLFVBQVUsTUFBTSxHQUFHLFVBQVUsVUFBVSxTQUFTLElBQUk7QUFDbEYsVUFBTSxhQUFhLElBQUksV0FBVyxjQUFjLFVBQVUsUUFBUSxTQUFTLFlBQVksR0FBRyxZQUFZO0FBQ3RHLFFBQUksVUFBVSxXQUFXLE1BQU0sVUFBVSxHQUFHLE1BQU8sUUFBTztBQUMxRCxVQUFNLE9BQU8sT0FBTyxVQUFVO0FBQzlCLFdBQU8sU0FBUyxVQUFhLElBQUksU0FBUyxJQUFJLElBQUksSUFBSSxJQUFJLElBQUksSUFBSTtBQUFBLEVBQ3BFLFFBQVE7QUFDTixXQUFPO0FBQUEsRUFDVDtBQUNGO0FBRUEsU0FBUyxRQUFRLEVBQUUsTUFBTSxVQUFVLE1BQU0sU0FBUyxHQUFzQztBQUN0RixTQUFPLElBQUksUUFBUSxDQUFDLFlBQVk7QUFDOUIsVUFBTSxTQUFTLFFBQVE7QUFBQSxNQUNyQixNQUFNLFNBQVMsUUFBUSxZQUFZLEVBQUU7QUFBQSxNQUNyQyxNQUFNLE9BQU8sU0FBUyxhQUFhLFdBQVcsTUFBTSxHQUFHO0FBQUEsTUFDdkQsU0FBUztBQUFBLElBQ1gsQ0FBQztBQUNELFVBQU0sT0FBTyxDQUFDLFlBQXVDO0FBQ25ELGFBQU8sUUFBUTtBQUNmLGNBQVEsT0FBTztBQUFBLElBQ2pCO0FBQ0EsVUFBTSxTQUFTLENBQUMsTUFBbUUsU0FDakY7QUFBQSxNQUNFLElBQUksUUFBUSxNQUFNO0FBQUEsUUFDaEIsTUFBTSxHQUFHLElBQUksSUFBSSxJQUFJO0FBQUEsUUFDckIsT0FBTztBQUFBLFFBQ1AsUUFBUTtBQUFBLE1BQ1YsQ0FBQztBQUFBLElBQ0g7QUFDRixXQUFPLEtBQUssV0FBVyxNQUFNLEtBQUssTUFBUyxDQUFDO0FBQzVDLFdBQU8sS0FBSyxXQUFXLE1BQU0sT0FBTyxzQkFBc0IseUJBQXlCLFdBQVcsR0FBSSxJQUFJLENBQUM7QUFDdkcsV0FBTyxLQUFLLFNBQVMsQ0FBQyxFQUFFLEtBQUssTUFBNkI7QUFDeEQsVUFBSSxTQUFTLGVBQWUsU0FBUyxZQUFhLFFBQU8sZUFBZSw2QkFBNkI7QUFBQSxlQUM1RixTQUFTLGVBQWdCLFFBQU8sc0JBQXNCLDRDQUE0QztBQUFBLFVBRXRHLE1BQUssTUFBUztBQUFBLElBQ3JCLENBQUM7QUFBQSxFQUNILENBQUM7QUFDSDtBQUdBLGVBQWUsY0FBYyxXQUFzQixRQUFvQztBQUNyRixRQUFNLEVBQUUsU0FBUyxLQUFLLElBQUksVUFBVTtBQUNwQyxNQUFJLENBQUMsUUFBUztBQUNkLFFBQU0sUUFBUSxLQUFLLFNBQVMsQ0FBQyxTQUFTLENBQUM7QUFDdkMsUUFBTSxRQUFRLE1BQU0sVUFBVSxXQUFXLFNBQVMsTUFBTSxFQUFFLE1BQU0sQ0FBQyxVQUFtQjtBQUNsRixVQUFNLFVBQVUsS0FBSyxFQUFFLEdBQUcsS0FBSztBQUFBLEVBQ2pDLENBQUM7QUFDRCxRQUFNLFNBQVM7QUFBQSxJQUNiLFFBQVEsVUFBVSxNQUFNLFVBQ3RCLGdCQUFnQixPQUFPLFFBQVEsVUFBVSxDQUFDLElBQUksS0FDOUMsWUFBWSxRQUFRLFVBQVUsQ0FBQztBQUFBLElBQ2pDLFFBQVEsVUFBVSxVQUFhLGdCQUFnQixPQUFPLFFBQVEsS0FBSyxLQUFLLEtBQUssU0FBUyxRQUFRLEtBQUs7QUFBQSxFQUNyRyxFQUFFLE9BQU8sQ0FBQyxTQUFTLFNBQVMsS0FBSztBQUNqQyxNQUFJLE9BQU8sV0FBVyxFQUFHO0FBQ3pCLFFBQU0sSUFBSSxRQUFRLG1CQUFtQjtBQUFBLElBQ25DLE1BQU0sa0NBQWtDLEtBQUsseUJBQXlCLFVBQVUsWUFBWSxJQUFJLFVBQVUsT0FBTyxLQUFLLE9BQU8sQ0FBQztBQUFBLElBQzlIO0FBQUEsSUFDQSxRQUFRO0FBQUEsSUFDUixNQUFNLEVBQUUsU0FBUyxNQUFNO0FBQUEsRUFDekIsQ0FBQztBQUNIO0FBRUEsZUFBZSxVQUNiLFdBQ0EsRUFBRSxTQUFTLElBQUFDLElBQUcsR0FDZCxRQUNpQjtBQUNqQixRQUFNLFFBQTRCLENBQUM7QUFDbkMsUUFBTSxRQUFRLFVBQVVBLEtBQUksS0FBSztBQUNqQyxRQUFNLFFBQVEsSUFBSSxLQUFLO0FBQ3ZCLFFBQU0sV0FBVyxNQUFNLFVBQVUsUUFBUSxPQUFPO0FBQ2hELFFBQU0sRUFBRSxTQUFTLFNBQVMsSUFBSSxNQUFNLFlBQVksV0FBVyxVQUFVO0FBQUEsSUFDbkUsT0FBTyxNQUFNO0FBQUEsSUFDYixRQUFRO0FBQUEsSUFDUjtBQUFBLElBQ0EsTUFBTTtBQUFBLEVBQ1IsQ0FBQztBQUNELFFBQU0sQ0FBQyxLQUFLLElBQUk7QUFDaEIsTUFBSSxNQUFPLE9BQU07QUFDakIsUUFBTSxRQUFRLFFBQVEsWUFBWSxNQUFNLEtBQUssUUFBUSxRQUFRO0FBQzdELE1BQUksVUFBVSxRQUFXO0FBQ3ZCLFVBQU0sSUFBSSxRQUFRLG1CQUFtQixFQUFFLE1BQU0sR0FBRyxPQUFPLHNCQUFzQkEsR0FBRSxJQUFJLFFBQVEsc0JBQXNCLENBQUM7QUFBQSxFQUNwSDtBQUNBLFNBQU8sT0FBTyxLQUFLO0FBQ3JCOzs7QUN2SU8sU0FBUyxZQUFZLFNBQWtCLE1BQWMsVUFBb0IsTUFBb0I7QUFDbEcsUUFBTSxFQUFFLElBQUksSUFBSTtBQUNoQixRQUFNLEVBQUUsTUFBTSxPQUFPLGNBQWMsUUFBUSxXQUFXLFNBQVMsTUFBTSxJQUFJLGFBQWEsSUFBSSxJQUFJO0FBQzlGLFFBQU0sT0FBTyxjQUFjLElBQUksT0FBTyxhQUFhLElBQUksS0FBSyxJQUFJLE1BQU0sVUFBVSxJQUFJLElBQUksSUFBSSxRQUFRO0FBQ3BHLFFBQU0sUUFBUTtBQUFBLElBQ1osUUFBUSxTQUFTLE1BQU0sR0FBRztBQUFBLElBQzFCLEdBQUcsVUFBVSxLQUFLLENBQUMsR0FBRyxNQUFNLFNBQVMsSUFBSSxLQUFLLElBQUksSUFBSSxHQUFHLE1BQU0sTUFBTSxTQUFTLENBQUMsS0FBSyxFQUFFLEdBQUcsTUFBTSxVQUFVLElBQUksS0FBSyxNQUFNLE9BQU8sYUFBYSxFQUFFO0FBQUEsSUFDOUksR0FBRyxhQUFhLEdBQUcsT0FBTyxhQUFhLE1BQU0sYUFBYSxNQUFNO0FBQUEsSUFDaEUsU0FBUyxLQUFLLEdBQUcsTUFBTTtBQUFBLElBQ3ZCLFVBQVUsU0FBUyxLQUFLLElBQUksSUFBSSxHQUFHLFVBQVUsTUFBTSxhQUFhO0FBQUEsSUFDaEUsYUFBYSxJQUFJO0FBQUEsRUFDbkIsRUFBRSxPQUFPLE9BQU87QUFDaEIsUUFBTSxRQUFRLENBQUMsR0FBRyxJQUFJLEtBQUssSUFBSSxDQUFDLEtBQUssSUFBSSxLQUFLLElBQUksQ0FBQyxNQUFNLE1BQU0sS0FBSyxLQUFLLENBQUMsTUFBTSxJQUFJLElBQUksT0FBTyxHQUFHLEVBQUUsQ0FBQyxFQUFFO0FBQ3ZHLFFBQU1DLFlBQVcsYUFBYSxPQUFPO0FBQ3JDLE1BQUlBLFVBQVUsT0FBTSxLQUFLQSxTQUFRO0FBQ2pDLFFBQU0sS0FBSyxHQUFHLE9BQU8sZ0RBQWdELFNBQVMsVUFBVSxJQUFJLENBQUM7QUFDN0YsUUFBTSxLQUFLLEdBQUcsT0FBTyxrREFBa0QsV0FBVyxVQUFVLElBQUksQ0FBQztBQUNqRyxNQUFJLFVBQVUsU0FBUyxFQUFHLE9BQU0sS0FBSyxJQUFJLElBQUksK0JBQStCLEdBQUcsRUFBRSxDQUFDO0FBQ2xGLE1BQUksWUFBYSxPQUFNLEtBQUssSUFBSSxJQUFJLCtDQUErQyxHQUFHLEVBQUUsQ0FBQztBQUFBLFdBQ2hGLFFBQVEsS0FBSyxTQUFTLEVBQUcsT0FBTSxLQUFLLElBQUksSUFBSSxxREFBcUQsR0FBRyxFQUFFLENBQUM7QUFDaEgsU0FBTyxNQUFNLEtBQUssSUFBSTtBQUN4QjtBQUdPLFNBQVMsUUFBUSxFQUFFLElBQUksTUFBTSxHQUFZLE1BQWMsRUFBRSxJQUFJLEdBQXFCO0FBQ3ZGLFFBQU0sT0FBTyxLQUFLLElBQUksTUFBTSxrQkFBa0IsSUFBSSxJQUFJLElBQUksOEJBQThCO0FBQ3hGLFNBQU8sR0FBRyxJQUFJLEtBQUssSUFBSSxDQUFDLEtBQUssSUFBSSxLQUFLLElBQUksQ0FBQyxNQUFNLFVBQVUsS0FBSyxDQUFDO0FBQ25FO0FBRUEsSUFBTSxZQUFZLENBQUMsRUFBRSxJQUFJLE9BQU8sTUFDOUIsR0FBRyxLQUFLLE1BQU0sSUFBSSxLQUFLLFdBQVcsSUFBSSxTQUFTLE9BQU87QUFFeEQsU0FBUyxTQUFTLEVBQUUsSUFBSSxRQUFRLE9BQU8sR0FBaUMsS0FBOEI7QUFDcEcsUUFBTSxRQUFRLENBQUMsR0FBRyxFQUFFLE9BQU8sS0FBSyxNQUFNLE9BQU87QUFDN0MsTUFBSSxTQUFTLEVBQUcsT0FBTSxLQUFLLElBQUksSUFBSSxHQUFHLE1BQU0sU0FBUyxDQUFDO0FBQ3RELE1BQUksU0FBUyxFQUFHLE9BQU0sS0FBSyxHQUFHLE1BQU0saUJBQWlCO0FBQ3JELFNBQU8sTUFBTSxLQUFLLElBQUk7QUFDeEI7QUFHQSxTQUFTLGFBQWEsRUFBRSxTQUFTLFlBQVksT0FBTyxHQUFnQztBQUNsRixNQUFJLFVBQVUsZUFBZSxLQUFLLFdBQVcsRUFBRyxRQUFPO0FBQ3ZELFNBQU8sS0FBSyxPQUFPLGFBQWEsVUFBVSx3QkFBd0IsYUFBYSxNQUFNLENBQUM7QUFDeEY7QUFFQSxTQUFTLE9BQU8sTUFBYyxPQUEwQixFQUFFLElBQUksR0FBYSxNQUFzQjtBQUMvRixNQUFJLE1BQU0sV0FBVyxFQUFHLFFBQU8sQ0FBQztBQUNoQyxRQUFNQyxTQUFRLE1BQU0sTUFBTSxHQUFHLEVBQUUsRUFBRSxJQUFJLENBQUMsU0FBUyxLQUFLLGNBQWMsS0FBSyxJQUFJLENBQUMsQ0FBQyxFQUFFO0FBQy9FLFFBQU0sT0FBTyxNQUFNLFNBQVNBLE9BQU07QUFDbEMsU0FBTyxDQUFDLElBQUksT0FBTyxJQUFJLEdBQUcsR0FBR0EsUUFBTyxHQUFJLE9BQU8sSUFBSSxDQUFDLFNBQVMsSUFBSSwwQkFBMEIsSUFBSSxDQUFDLENBQUU7QUFDcEc7QUFHTyxTQUFTLFdBQVcsRUFBRSxRQUFRLFVBQVUsV0FBVyxHQUFXLFVBQW9CLE1BQW9CO0FBQzNHLFFBQU0sRUFBRSxJQUFJLElBQUk7QUFDaEIsUUFBTSxRQUFRO0FBQUEsSUFDWixJQUFJLElBQUksTUFBTSxJQUFJO0FBQUEsSUFDbEIsUUFBUSxJQUFJLElBQUksUUFBUTtBQUFBLElBQ3hCLGFBQWEsSUFBSSxJQUFJLFdBQVc7QUFBQSxJQUNoQyxTQUFTLElBQUksSUFBSSxTQUFTO0FBQUEsSUFDMUIsSUFBSSxJQUFJLElBQUksR0FBRztBQUFBLEVBQ2pCO0FBQ0EsUUFBTSxPQUFPLFNBQ1YsTUFBTSxHQUFHLFlBQVksRUFDckIsSUFBSSxDQUFDLEVBQUUsTUFBTSxNQUFNLE1BQU0sQ0FBQyxjQUFjLEtBQUssSUFBSSxDQUFDLEdBQUcsR0FBRyxPQUFPLElBQUksQ0FBQyxVQUFVLE1BQU0sTUFBTSxJQUFJLEtBQUssS0FBSyxFQUFFLENBQUMsQ0FBQyxDQUFDO0FBQ2hILFFBQU0sU0FBUyxDQUFDLE1BQU0sTUFBTSxVQUFVLEVBQUUsTUFBTSxDQUFDLElBQUksR0FBRyxNQUFNLEdBQUcsVUFBVSxPQUFPLElBQUksQ0FBQyxHQUFHLFVBQVUsUUFBUSxDQUFDLEVBQUUsQ0FBQyxDQUFDO0FBQy9HLE1BQUksU0FBUyxTQUFTLGFBQWMsUUFBTyxLQUFLLE9BQU8sU0FBUyxTQUFTLFlBQVksMEJBQTBCO0FBQy9HLE1BQUksV0FBVyxTQUFTLEdBQUc7QUFDekIsVUFBTSxRQUFRLFdBQ1gsTUFBTSxHQUFHQyxlQUFjLEVBQ3ZCLElBQUksQ0FBQyxFQUFFLFNBQVMsT0FBTyxVQUFVLE9BQU8sS0FBSyxNQUFNO0FBQUEsTUFDbEQsR0FBRyxDQUFDLFNBQVMsT0FBTyxVQUFVLEtBQUssRUFBRSxJQUFJLENBQUMsU0FBUyxjQUFjLEtBQUssSUFBSSxDQUFDLENBQUM7QUFBQSxNQUM1RSxJQUFJLElBQUksSUFBSTtBQUFBLElBQ2QsQ0FBQztBQUNILFdBQU8sS0FBSyxJQUFJLElBQUksS0FBSyxHQUFHLFdBQVcsTUFBTSxJQUFJLFdBQVcsV0FBVyxJQUFJLGNBQWMsWUFBWSxFQUFFLENBQUM7QUFDeEcsV0FBTyxLQUFLLE1BQU0sT0FBTyxVQUFVLEVBQUUsTUFBTSxDQUFDLElBQUksTUFBTSxZQUFZLFNBQVMsTUFBTSxHQUFHLFVBQVUsQ0FBQyxHQUFHLENBQUMsRUFBRSxDQUFDLENBQUM7QUFDdkcsUUFBSSxXQUFXLFNBQVNBO0FBQ3RCLGFBQU8sS0FBSyxPQUFPLFdBQVcsU0FBU0EsZUFBYywwQkFBMEI7QUFBQSxFQUNuRjtBQUNBLFNBQU8sT0FBTyxLQUFLLElBQUk7QUFDekI7QUFFQSxJQUFNLGVBQWU7QUFDckIsSUFBTUEsa0JBQWlCOzs7QUM1RnZCLFNBQVMsa0JBQWtCOzs7QUNnQnBCLElBQU0sV0FBVyxPQUFjO0FBQUEsRUFDcEMsTUFBTSxFQUFFLElBQUksR0FBRyxRQUFRLEdBQUcsUUFBUSxFQUFFO0FBQUEsRUFDcEMsT0FBTyxFQUFFLElBQUksR0FBRyxRQUFRLEdBQUcsU0FBUyxFQUFFO0FBQUEsRUFDdEMsY0FBYyxFQUFFLEtBQUssR0FBRyxRQUFRLEVBQUU7QUFBQSxFQUNsQyxRQUFRO0FBQUEsRUFDUixXQUFXLENBQUM7QUFBQSxFQUNaLFNBQVMsQ0FBQztBQUFBLEVBQ1YsT0FBTztBQUFBLEVBQ1AsU0FBUztBQUNYO0FBRU8sU0FBUyxNQUFNLE9BQWtCLE9BQW9CO0FBQzFELE1BQUksTUFBTSxVQUFVLFFBQVE7QUFDMUIsVUFBTSxNQUFNLE1BQU0sS0FBSyxLQUFLO0FBQzVCLGVBQVcsRUFBRSxHQUFHLEtBQUssTUFBTSxNQUFNLFlBQVksQ0FBQyxFQUFHLE9BQU0sYUFBYSxLQUFLLFFBQVEsUUFBUSxLQUFLO0FBQUEsRUFDaEcsV0FBVyxNQUFNLFVBQVUsTUFBTyxPQUFNLEtBQUssTUFBTSxLQUFLLE9BQU8sUUFBUSxLQUFLO0FBQUEsV0FDbkUsTUFBTSxVQUFVLFFBQVE7QUFDL0IsUUFBSSxNQUFNLFVBQVUsT0FBUSxPQUFNLFVBQVU7QUFDNUMsUUFBSSxNQUFNLFVBQVUsWUFBWSxNQUFNLFVBQVUsYUFBYyxPQUFNLFVBQVUsS0FBSyxTQUFTLEtBQUssQ0FBQztBQUFBLEVBQ3BHO0FBQ0Y7QUFHQSxJQUFNLFdBQVcsQ0FBQyxFQUFFLE1BQU0sT0FBTyxLQUFLLFFBQVEsTUFDNUMsR0FBRyxRQUFRLFNBQVksS0FBSyxPQUFPLEdBQUcsSUFBSSxHQUFHLElBQUksT0FBTyxLQUFLLEdBQUcsVUFBVSxLQUFLLFFBQVEsSUFBSSxLQUFLLEVBQUU7QUFFN0YsU0FBUyxVQUNkLE9BQ0EsT0FDUztBQUNULFFBQU0sRUFBRSxNQUFNLEdBQUcsT0FBTyxJQUFJO0FBQzVCLFFBQU0sRUFBRSxLQUFLLGFBQWEsTUFBTSxTQUFTLFVBQUFDLFVBQVMsSUFBSTtBQUN0RCxTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0EsSUFBSSxNQUFNLFlBQVk7QUFBQSxJQUN0QjtBQUFBLElBQ0EsTUFBTSxVQUFVLE9BQU87QUFBQSxJQUN2QixHQUFHO0FBQUEsSUFDSCxHQUFHQTtBQUFBLElBQ0g7QUFBQSxFQUNGO0FBQ0Y7OztBQ3ZDQSxlQUFzQixTQUNwQixNQUNBLE1BQ0EsV0FDQSxRQUNBLE9BQ0EsRUFBRSxTQUFTLFFBQUFDLFVBQVMsR0FBRyxNQUFNLE1BQU0sUUFBUSxZQUFZLE9BQU8sR0FDOUQsUUFDZTtBQUNmLFFBQU0sUUFBUSxnQkFBZ0IsU0FBUztBQUV2QyxRQUFNLFFBQVEsVUFBVSxTQUFTLFNBQVksS0FBSztBQUNsRCxRQUFNQyxTQUFRLFNBQVUsTUFBTSxVQUFVLE9BQU8sVUFBVSxXQUFXLElBQUk7QUFDeEUsUUFBTSxTQUFTLEtBQUssS0FBSyxXQUFXLFdBQVcsTUFBTSxXQUFXLEtBQUssQ0FBQztBQUN0RSxRQUFNLFFBQVEsTUFBTTtBQUFBLElBQ2xCLE9BQU8sT0FBTyxhQUFhLEVBQUU7QUFBQSxJQUM3QixLQUFLO0FBQUEsSUFDTCxPQUFPLFNBQVMsVUFBVTtBQUN4QixVQUFJLFFBQVEsQ0FBQyxLQUFLLElBQUksS0FBSyxFQUFHO0FBQzlCLFlBQU0sTUFBVyxFQUFFLFFBQVEsT0FBTyxRQUFRO0FBQzFDLFlBQU0sU0FBUyxTQUFTLFVBQVVELFNBQVEsSUFBSSxNQUFNO0FBQ3BELFVBQUksV0FBVyxRQUFXO0FBQ3hCLGNBQU0sU0FBU0MsUUFBTyxJQUFJLFFBQVEsU0FBUyxHQUFHRCxPQUFNLElBQUksSUFBSSxNQUFNLEVBQUU7QUFDcEUsY0FBTSxLQUFLLFNBQVMsT0FBTyxRQUFRLEtBQUs7QUFDeEMsY0FBTSxLQUFLLFVBQVU7QUFDckIsWUFBSSxDQUFDLE9BQVEsT0FBTSxVQUFVLE9BQU8sTUFBTSxTQUFTLGFBQWEsR0FBRyxDQUFDO0FBQ3BFO0FBQUEsTUFDRjtBQUNBLFlBQU0sUUFBUSxRQUFRLEdBQUc7QUFDekIsWUFBTSxPQUFPLE9BQU8sV0FBVyxNQUFNLFdBQVcsT0FBTyxHQUFHLEdBQUcsSUFBSSxRQUFRLEtBQUs7QUFDOUUsWUFBTSxFQUFFLFNBQVMsVUFBVSxJQUFJLE1BQU0sUUFBUSxNQUFNLE1BQU0sS0FBS0MsUUFBTyxVQUFVO0FBRS9FLFVBQUksT0FBTyxXQUFXLFdBQVcsQ0FBQyxVQUFXO0FBQzdDLGFBQU8sRUFBRSxPQUFPLE9BQU8sS0FBSyxJQUFJLFFBQVEsSUFBSSxDQUFDLFNBQVMsT0FBTyxRQUFRLENBQUM7QUFDdEUsZUFBUyxJQUFJRCxTQUFRLElBQUksUUFBUSxPQUFPLE9BQU87QUFDL0MsVUFBSSxRQUFTLE9BQU0sVUFBVSxPQUFPLE1BQU0sU0FBUyxPQUFPO0FBQUEsSUFDNUQ7QUFBQSxJQUNBO0FBQUEsRUFDRjtBQUNBLFFBQU0sUUFBUTtBQUNkLE1BQUksTUFBTyxPQUFNLFVBQVUsT0FBTyxNQUFNLFNBQVMsS0FBSztBQUN0RCxNQUFJLENBQUMsU0FBUyxDQUFDQyxPQUFPO0FBQ3RCLE1BQUksT0FBTyxRQUFTLFFBQU9BLE9BQU0sUUFBUTtBQUN6QyxTQUFPLE1BQU0sWUFBWSxPQUFPQSxRQUFPLEtBQUssTUFBTSxNQUFTLENBQUM7QUFDOUQ7QUFFQSxlQUFlLFFBQ2IsTUFDQSxNQUNBLEtBQ0FBLFFBQ0EsWUFDaUI7QUFDakIsUUFBTSxTQUFTLE1BQU0sYUFBYSxNQUFNLE1BQU0sVUFBVTtBQUN4RCxNQUFJLENBQUMsS0FBSyxTQUFTLENBQUNBLE9BQU8sUUFBTztBQUNsQyxRQUFNLEVBQUUsT0FBTyxRQUFRLElBQUksT0FBTyxLQUFLLE9BQU8sTUFBTSxPQUFPLE9BQU87QUFDbEUsT0FBSyxTQUFTLE1BQU0sS0FBSyxJQUFJLEtBQUs7QUFDbEMsUUFBTUEsT0FBTSxJQUFJLElBQUksUUFBUSxLQUFLO0FBQ2pDLFNBQU8sRUFBRSxHQUFHLFFBQVEsUUFBUTtBQUM5QjtBQUdBLGVBQWUsU0FDYkEsUUFDQUQsU0FDQSxTQUNBRSxLQUNlO0FBQ2YsUUFBTSxRQUFRLFNBQVMsWUFBWUEsR0FBRTtBQUNyQyxNQUFJRCxVQUFTLE1BQU8sT0FBTUEsT0FBTSxJQUFJRCxTQUFRLEtBQUs7QUFDbkQ7QUFFQSxJQUFNLGVBQWUsQ0FBQyxFQUFFLFFBQUFBLFFBQU8sTUFDN0IsSUFBSSxRQUFRLGVBQWUsRUFBRSxNQUFNLE9BQU9BLE9BQU0scUNBQXFDLENBQUM7QUFHeEYsSUFBTSxZQUFZO0FBR2xCLFNBQVMsUUFBUSxFQUFFLFFBQVEsR0FBZ0I7QUFDekMsYUFBVyxRQUFRLFNBQVM7QUFDMUIsVUFBTSxRQUFRLFFBQVEsSUFBSTtBQUMxQixXQUFPLE9BQU8sVUFBVSxZQUFZLFVBQVUsS0FBSyxLQUFLLElBQUksUUFBUSxVQUFVLEtBQUssRUFBRSxRQUFRLFVBQVUsRUFBRTtBQUFBLEVBQzNHO0FBQ0EsU0FBTztBQUNUOzs7QUNwRUEsZUFBc0IsVUFBVSxXQUFzQixNQUFpQixVQUEwQztBQUMvRyxRQUFNLFVBQVUsWUFBWSxJQUFJO0FBQ2hDLFFBQU0sRUFBRSxTQUFTLFFBQUFHLFVBQVMsRUFBRSxJQUFJO0FBQ2hDLFFBQU0sUUFBUSxTQUFTO0FBRXZCLFFBQU0sUUFBUSxLQUFLLEdBQUksU0FBUyxhQUFhQSxPQUFNLEtBQUssQ0FBQyxDQUFFO0FBQzNELFFBQU1DLFlBQVcsRUFBRSxHQUFHLFVBQVUsU0FBUztBQUN6QyxRQUFNLE9BQU8sSUFBSSxnQkFBZ0I7QUFDakMsUUFBTSxFQUFFLE9BQU8sSUFBSTtBQUNuQixRQUFNLFNBQVMsU0FBUyxxQkFBcUIsWUFBWSxJQUFJLENBQUMsUUFBUSxLQUFLLE1BQU0sQ0FBQyxJQUFJO0FBQ3RGLFFBQU0sU0FBUyxDQUFDLFVBQTJCO0FBQ3pDLFVBQU0sT0FBTyxLQUFLO0FBQ2xCLGFBQVMsT0FBTyxLQUFLO0FBQ3JCLFFBQUksU0FBUyxzQkFBc0IsTUFBTSxVQUFVLFVBQVUsTUFBTSxVQUFVLFNBQVUsTUFBSyxNQUFNO0FBQUEsRUFDcEc7QUFDQSxZQUFVLGtCQUFrQixDQUFDLFNBQVMsT0FBTyxFQUFFLE9BQU8sa0JBQWtCLE1BQU0sU0FBUyxPQUFVLENBQUM7QUFDbEcsWUFBVSxTQUFTLENBQUMsU0FBUyxPQUFPLEVBQUUsT0FBTyxXQUFXLEdBQUcsS0FBSyxDQUFDO0FBQ2pFLFFBQU0sU0FBUyxDQUFDLE9BQWMsS0FBYyxjQUE2QjtBQUFBLElBQ3ZFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQSxJQUFJLFFBQVEsU0FBWSxPQUFPRCxPQUFNLElBQUksR0FBR0EsT0FBTSxJQUFJLEdBQUc7QUFBQSxJQUN6RCxPQUFPO0FBQUEsSUFDUDtBQUFBLElBQ0E7QUFBQSxJQUNBLE1BQU0sQ0FBQztBQUFBLElBQ1AsTUFBTSxNQUFNO0FBQ1YsWUFBTSxRQUFRLEtBQUssSUFBSTtBQUN2QixlQUFTLE1BQU1BLFNBQVEsSUFBSTtBQUFBLElBQzdCO0FBQUEsSUFDQTtBQUFBLElBQ0EsT0FBTyxLQUFLO0FBQUEsSUFDWixNQUFNLEVBQUUsT0FBTyxDQUFDLEVBQUU7QUFBQSxJQUNsQixTQUFTLFNBQVMsV0FBVyxvQkFBSSxJQUFJO0FBQUEsSUFDckM7QUFBQSxJQUNBLE9BQU87QUFBQSxFQUNUO0FBQ0EsTUFBSTtBQUNGLFFBQUksS0FBSyxLQUFNLE9BQU0sU0FBUyxNQUFNLEtBQUssTUFBTSxXQUFXLFFBQVEsT0FBTyxFQUFFLEdBQUcsVUFBVSxPQUFPLEdBQUcsTUFBTTtBQUFBLFNBQ25HO0FBQ0gsWUFBTSxPQUFPLE9BQU8sV0FBVyxNQUFNLFdBQVcsZ0JBQWdCLFNBQVMsQ0FBQyxDQUFDO0FBQzNFLFlBQU0sU0FBUyxNQUFNLGFBQWEsTUFBTSxNQUFNLFNBQVMsVUFBVTtBQUNqRSxVQUFJLE9BQU8sUUFBUyxPQUFNLFVBQVUsT0FBTyxNQUFNLFNBQVMsT0FBTyxPQUFPO0FBRXhFLFVBQUksT0FBTyxXQUFXLE9BQU8sVUFBVyxPQUFNLFNBQVMsT0FBT0EsU0FBUSxLQUFLO0FBQUEsSUFDN0U7QUFBQSxFQUNGLFVBQUU7QUFDQSxVQUFNLGNBQWMsV0FBVyxNQUFNO0FBQ3JDLGNBQVUsa0JBQWtCO0FBQzVCLGNBQVUsU0FBUztBQUFBLEVBQ3JCO0FBQ0EsUUFBTSxjQUFjLFNBQVMsT0FBTztBQUNwQyxNQUFJLFlBQWEsT0FBTSxVQUFVLElBQUksUUFBUSxlQUFlLEVBQUUsTUFBTSxjQUFjLENBQUM7QUFBQSxXQUUxRSxFQUFFLEtBQUssUUFBUSxPQUFPLFNBQVUsT0FBTSxTQUFTLE9BQU9BLFNBQVEsTUFBTSxZQUFZLE1BQVM7QUFDbEcsU0FBTyxVQUFVLE9BQU87QUFBQSxJQUN0QixLQUFLLFNBQVMsT0FBTyxVQUFVLElBQUk7QUFBQSxJQUNuQztBQUFBLElBQ0EsTUFBTSxZQUFZLElBQUksSUFBSTtBQUFBLElBQzFCLFNBQVMsS0FBSyxTQUFTO0FBQUEsSUFDdkIsVUFBVTtBQUFBLE1BQ1IsU0FBUyxVQUFVLFNBQVMsVUFBVUMsVUFBUztBQUFBLE1BQy9DLFlBQVksVUFBVSxTQUFTLGFBQWFBLFVBQVM7QUFBQSxNQUNyRCxRQUFRLFVBQVUsU0FBUyxTQUFTQSxVQUFTO0FBQUEsSUFDL0M7QUFBQSxFQUNGLENBQUM7QUFDSDs7O0FDM0ZBLElBQU0sZ0JBQTBCLEVBQUUsTUFBTSxNQUFNLFFBQVcsS0FBSyxNQUFNLE9BQVU7QUFFOUUsSUFBTSxlQUFlLENBQUMsT0FBdUIsYUFBYSxFQUFFLEVBQUUsUUFBUSxXQUFXLElBQUk7QUFHckYsSUFBTSxVQUFVO0FBRWhCLElBQU0sT0FBTztBQUdOLFNBQVMsU0FBUyxFQUFFLE1BQU0sS0FBSyxHQUFjQyxXQUE4QixVQUE4QjtBQUM5RyxNQUFJLENBQUMsU0FBUyxLQUFNLFFBQU87QUFDM0IsUUFBTSxVQUFVLFlBQVksSUFBSTtBQUNoQyxRQUFNLFNBQVMsRUFBRSxHQUFHQSxVQUFTO0FBQzdCLE1BQUksQ0FBQyxNQUFNLFFBQVEsT0FBTyxXQUFXLElBQUksQ0FBQyxHQUFHLEdBQUcsR0FBRyxDQUFDO0FBQ3BELE1BQUksU0FBUztBQUNiLE1BQUk7QUFDSixNQUFJO0FBQ0osUUFBTSxPQUF3QyxDQUFDO0FBRS9DLFFBQU0sT0FBTyxDQUFDQyxXQUEwQjtBQUN0QyxVQUFNLE1BQU0sWUFBWSxJQUFJO0FBQzVCLFNBQUssS0FBSyxFQUFFLElBQUksS0FBSyxPQUFBQSxPQUFNLENBQUM7QUFDNUIsV0FBTyxLQUFLLFNBQVMsS0FBSyxPQUFPLEtBQUssQ0FBQyxHQUFHLE1BQU0sT0FBTyxLQUFNLE1BQUssTUFBTTtBQUN4RSxVQUFNLENBQUMsS0FBSyxJQUFJO0FBQ2hCLFdBQU8sU0FBUyxNQUFNLE1BQU0sTUFBT0EsU0FBUSxNQUFNLFNBQVMsT0FBUyxNQUFNLE1BQU0sTUFBTTtBQUFBLEVBQ3ZGO0FBRUEsUUFBTSxVQUFVLE1BQWM7QUFDNUIsVUFBTSxVQUFVLGFBQWEsWUFBWSxJQUFJLElBQUksT0FBTztBQUN4RCxVQUFNLFFBQVEsS0FBSyxPQUFPLE9BQU8sS0FBSztBQUN0QyxVQUFNLFFBQVEsT0FDVjtBQUFBLE1BQ0UsR0FBRyxJQUFJLEdBQUcsVUFBVSxTQUFZLEtBQUssT0FBTyxLQUFLLEVBQUU7QUFBQSxNQUNuRCxTQUFTLEtBQUssR0FBRyxNQUFNO0FBQUEsTUFDdkIsR0FBRyxNQUFNLFFBQVEsUUFBUSxLQUFLLElBQUksQ0FBQyxDQUFDO0FBQUEsTUFDcEMsVUFBVSxVQUFhLFFBQVEsS0FBSyxPQUFPLFNBQVMsR0FBRyxjQUFlLFFBQVEsUUFBUSxRQUFTLEdBQUksQ0FBQztBQUFBLElBQ3RHLElBQ0EsQ0FBQyxHQUFHLEtBQUssVUFBVSxjQUFjLEtBQUssR0FBRyxXQUFXLFdBQVcsUUFBUSxNQUFNLEdBQUcsTUFBTSxRQUFRLENBQUMsQ0FBQyxXQUFXO0FBQy9HLFVBQU0sUUFBUSxDQUFDLEdBQUcsSUFBSSxLQUFLLENBQUMsR0FBRyxPQUFPLE9BQU8sRUFBRSxPQUFPLE9BQU8sRUFBRSxLQUFLLEtBQUssQ0FBQyxFQUFFO0FBQzVFLFFBQUksV0FBVyxHQUFJLE9BQU0sS0FBSyxjQUFjLE1BQU0sRUFBRTtBQUNwRCxRQUFJLFNBQVM7QUFDWCxZQUFNLE9BQU8sUUFBUSxRQUFRLFlBQVksSUFBSTtBQUM3QyxZQUFNLFVBQVUsR0FBR0QsVUFBUyxVQUFVLE9BQU8sT0FBTztBQUNwRCxZQUFNO0FBQUEsUUFDSixPQUFPLElBQ0gsY0FBYyxRQUFRLElBQUksS0FBSyxhQUFhLElBQUksQ0FBQyxVQUFVLFFBQVEsR0FBRyxNQUFNLE9BQU8sS0FDbkYsS0FBSyxPQUFPLFlBQVksYUFBYUEsVUFBUyxTQUFTLE9BQU8sTUFBTSxDQUFDO0FBQUEsTUFDM0U7QUFBQSxJQUNGO0FBQ0EsV0FBTyxNQUFNLEtBQUssSUFBSTtBQUFBLEVBQ3hCO0FBRUEsT0FBSyxNQUFNLE1BQU0sRUFBRTtBQUFBLElBQ2pCLENBQUMsVUFBVTtBQUNULGNBQVE7QUFBQSxJQUNWO0FBQUEsSUFDQSxNQUFNO0FBQUEsRUFDUjtBQUNBLFFBQU0sUUFBUSxZQUFZLE1BQU0sU0FBUyxTQUFTLFFBQVEsQ0FBQyxHQUFHLE9BQU87QUFDckUsU0FBTztBQUFBLElBQ0wsS0FBSyxPQUFPO0FBQ1YsVUFBSSxNQUFNLFVBQVUsUUFBUTtBQUMxQixpQkFBUztBQUNULFlBQUksTUFBTSxVQUFVLFNBQVUsZ0JBQWU7QUFDN0MsaUJBQVMsR0FBRyxNQUFNLFFBQVEsU0FBWSxLQUFLLE9BQU8sTUFBTSxHQUFHLEdBQUcsR0FBRyxNQUFNLFdBQVcsU0FBWSxLQUFLLEdBQUcsTUFBTSxNQUFNLEdBQUcsR0FBRyxNQUFNLEtBQUs7QUFBQSxNQUNySSxXQUFXLE1BQU0sVUFBVSxPQUFPO0FBQ2hDLGdCQUFRO0FBQ1IsWUFBSSxDQUFDLE1BQU0sR0FBSSxXQUFVO0FBQUEsTUFDM0IsV0FBVyxNQUFNLFVBQVUsV0FBVztBQUNwQyxrQkFBVSxFQUFFLE1BQU0sTUFBTSxNQUFNLE9BQU8sWUFBWSxJQUFJLElBQUksTUFBTSxNQUFNLEtBQUssTUFBTSxJQUFJO0FBQUEsTUFDdEY7QUFBQSxJQUNGO0FBQUEsSUFDQSxNQUFNO0FBQ0osb0JBQWMsS0FBSztBQUNuQixlQUFTLFNBQVMsRUFBRTtBQUFBLElBQ3RCO0FBQUEsRUFDRjtBQUNGOzs7QUMxRU8sU0FBUyxTQUNkLE1BQ0EsV0FDQSxVQUNBLFFBQ0EsYUFDVTtBQUNWLFFBQU0sRUFBRSxLQUFLLElBQUksVUFBVTtBQUUzQixRQUFNLFFBQVEsS0FBSyxPQUFPLElBQUksS0FBSyxJQUFJLElBQUksS0FBSyxJQUFJLEdBQUcsS0FBSyxNQUFNLElBQUksQ0FBQyxFQUFFLE1BQU0sTUFBTSxNQUFNLE1BQU0sQ0FBQyxDQUFDO0FBQ25HLFFBQU0sT0FBTyxTQUFTLE1BQU0sVUFBVSxVQUFVLFFBQVE7QUFDeEQsUUFBTSxRQUFRLGNBQWM7QUFDNUIsTUFBSUUsU0FBUTtBQUVaLFFBQU0sVUFBVSxDQUFDLFVBQThCO0FBQzdDLFFBQUksQ0FBQyxTQUFTLEtBQUssRUFBRyxRQUFPO0FBQzdCLFFBQUksQ0FBQyxVQUFVLFVBQVUsTUFBTSxVQUFVLE1BQU8sUUFBTztBQUN2RCxJQUFBQSxVQUFTO0FBQ1QsV0FBT0EsU0FBUTtBQUFBLEVBQ2pCO0FBRUEsUUFBTSxXQUFXLG9CQUFJLElBQVk7QUFDakMsU0FBTztBQUFBLElBQ0wsT0FBTyxPQUFPO0FBQ1osV0FBSyxLQUFLLEtBQUs7QUFDZixjQUFRLEtBQUssT0FBTyxXQUFXO0FBQy9CLFVBQUksQ0FBQyxTQUFTLFNBQVMsUUFBUSxLQUFLLEtBQU0sVUFBVSxRQUFRLEtBQUssR0FBSztBQUN0RSxZQUFNLE9BQU8sTUFBTSxVQUFVLFNBQVMsU0FBUyxPQUFPLE1BQU0sR0FBRztBQUMvRCxVQUFJLE1BQU0sVUFBVSxVQUFVLE1BQU0sVUFBVSxZQUFZLE1BQU0sUUFBUSxPQUFXLFVBQVMsSUFBSSxNQUFNLEdBQUc7QUFDekcsVUFBSSxTQUFTLE1BQU07QUFDakIsY0FBTSxXQUFXLGNBQWMsT0FBTyxJQUFJO0FBQzFDLGlCQUFTLE1BQU0sS0FBSyxLQUFLLFVBQVUsZ0JBQWdCLFNBQVksV0FBVyxFQUFFLEdBQUcsVUFBVSxZQUFZLENBQUMsQ0FBQyxDQUFDO0FBQUEsTUFDMUcsV0FBVyxNQUFNLFVBQVUsV0FBVztBQUVwQyxZQUFJLENBQUMsU0FBUyxRQUFRLE1BQU0sUUFBUTtBQUNsQyxxQkFBVyxRQUFRLFdBQVcsT0FBTyxVQUFVLElBQUksRUFBRyxVQUFTLEtBQUssSUFBSTtBQUFBLE1BQzVFLFdBQVcsTUFBTSxVQUFVLFVBQVUsTUFBTSxVQUFVLFlBQVksWUFBWSxLQUFLLEdBQUc7QUFDbkYsbUJBQVcsUUFBUSxNQUFNLEtBQUssT0FBTyxNQUFNLFdBQVcsT0FBTyxVQUFVLE1BQU0sS0FBSyxDQUFDLEVBQUcsVUFBUyxNQUFNLElBQUk7QUFBQSxNQUMzRyxXQUFXLE1BQU07QUFBQSxNQUVqQixXQUFXLENBQUMsU0FBUyxTQUFVLE1BQU0sVUFBVSxVQUFVLE1BQU0sVUFBVSxVQUFXO0FBQ2xGLG1CQUFXLFFBQVEsV0FBVyxPQUFPLFVBQVUsTUFBTSxLQUFLLEVBQUcsVUFBUyxNQUFNLElBQUk7QUFBQSxNQUNsRjtBQUFBLElBQ0Y7QUFBQSxJQUNBLE1BQU07QUFDSixXQUFLLElBQUk7QUFDVCxVQUFJLFNBQVMsS0FBTTtBQUNuQixpQkFBVyxRQUFRLE1BQU0sS0FBSyxFQUFHLFVBQVMsTUFBTSxTQUFTLElBQUksSUFBSSxJQUFJLENBQUM7QUFDdEUsVUFBSUEsU0FBUTtBQUNWLGlCQUFTLE1BQU0sU0FBUyxJQUFJLElBQUksZUFBZUEsU0FBUSxXQUFXLDRCQUE0QixDQUFDO0FBQUEsSUFDbkc7QUFBQSxFQUNGO0FBQ0Y7QUFHQSxJQUFNLFVBQVUsQ0FBQyxVQUNmLE1BQU0sVUFBVSxTQUFVLE1BQU0sVUFBVSxVQUFVLE1BQU0sUUFBUTtBQUVwRSxJQUFNLFdBQVcsQ0FBQyxVQUNoQixNQUFNLFVBQVUsUUFBUSxNQUFNLEtBQUssTUFBTSxVQUFVLFVBQVUsTUFBTSxVQUFVLFlBQVksWUFBWSxLQUFLO0FBRTVHLElBQU0sY0FBYyxDQUFDLEVBQUUsS0FBSyxPQUFPLE1BQTBCLFFBQVEsVUFBYSxXQUFXO0FBRzdGLElBQU0sY0FBYztBQUdwQixJQUFNLGNBQWM7QUFDcEIsSUFBTSxZQUFZO0FBR2xCLFNBQVMsZ0JBR1A7QUFDQSxRQUFNLFFBQVEsb0JBQUksSUFBOEU7QUFDaEcsU0FBTztBQUFBLElBQ0wsS0FBSyxPQUFPLE9BQU87QUFDakIsWUFBTSxPQUFPLE1BQU0sU0FBUyxDQUFDLEdBQUcsUUFBUTtBQUN4QyxZQUFNLE1BQU0sR0FBRyxNQUFNLEtBQUssSUFBSSxJQUFJO0FBQ2xDLFVBQUksTUFBTSxRQUFRLGFBQWEsQ0FBQyxNQUFNLElBQUksR0FBRyxFQUFHLFFBQU8sTUFBTTtBQUM3RCxZQUFNLE9BQU8sTUFBTSxJQUFJLEdBQUcsS0FBSyxFQUFFLE9BQU8sTUFBTSxPQUFPLE1BQU0sT0FBTyxFQUFFO0FBQ3BFLFlBQU0sSUFBSSxLQUFLLElBQUk7QUFDbkIsV0FBSyxTQUFTO0FBQ2QsYUFBTyxLQUFLLFNBQVMsY0FBYyxNQUFNLElBQUksQ0FBQztBQUFBLElBQ2hEO0FBQUEsSUFDQSxNQUFNLE1BQ0osQ0FBQyxHQUFHLE1BQU0sT0FBTyxDQUFDLEVBQ2YsT0FBTyxDQUFDLEVBQUUsT0FBQUMsT0FBTSxNQUFNQSxTQUFRLFdBQVcsRUFDekMsSUFBSSxDQUFDLEVBQUUsT0FBTyxNQUFNLE9BQUFBLE9BQU0sTUFBTSxXQUFXLEtBQUssS0FBS0EsU0FBUSxXQUFXLGtCQUFrQixJQUFJLEdBQUc7QUFBQSxFQUN4RztBQUNGOzs7QUw1RUEsZUFBc0IsVUFBVSxTQUFrQixTQUFtQztBQUNuRixRQUFNLEVBQUUsUUFBUSxRQUFRLElBQUk7QUFDNUIsUUFBTSxFQUFFLFFBQVEsT0FBTyxNQUFNLElBQUk7QUFDakMsUUFBTSxVQUFVLGNBQWMsUUFBUSxPQUFPO0FBQzdDLE1BQUksU0FBUztBQUNiLFdBQVMsT0FBTyxHQUFHLFdBQVcsVUFBYSxPQUFPLFFBQVEsUUFBUSxHQUFHO0FBQ25FLFVBQU0sUUFBUSxZQUFZLElBQUk7QUFDOUIsVUFBTSxFQUFFLFFBQVEsS0FBSyxPQUFPLElBQUksTUFBTSxTQUFTLE1BQU0sU0FBUyxTQUFTLE9BQU87QUFDOUUsYUFBUyxNQUFNLFFBQVEsR0FBRztBQUMxQixVQUFNLFNBQVMsVUFBVSxVQUFjLFVBQVUsVUFBVyxRQUFRO0FBRXBFLFFBQUksVUFBVSxVQUFVLEtBQU0sVUFBUztBQUN2QyxRQUFJLFFBQVEsT0FBTyxXQUFXLFVBQVcsT0FBTyxzQkFBc0IsUUFBUSxFQUFJO0FBRWxGLFFBQUksV0FBVyxXQUFXLFVBQWEsT0FBTyxJQUFJLFFBQVMsT0FBTSxLQUFLLFNBQVMsWUFBWSxJQUFJLElBQUksUUFBUSxPQUFPO0FBQ2xILFFBQUksUUFBUSxPQUFPLFFBQVMsUUFBTztBQUFBLEVBQ3JDO0FBQ0EsU0FBTztBQUNUO0FBRUEsSUFBTSxnQkFBZ0IsQ0FBQyxZQUNyQixJQUFJLElBQUksQ0FBQyxHQUFJLFNBQVMsY0FBYyxLQUFLLENBQUMsQ0FBRSxFQUFFLElBQUksQ0FBQyxDQUFDLE9BQU8sSUFBSSxNQUFNLENBQUMsT0FBTyxJQUFJLElBQUksSUFBSSxDQUFDLENBQUMsQ0FBQztBQUc5RixlQUFlLFNBQ2IsTUFDQSxTQUNBLFNBQ0EsU0FDZ0U7QUFDaEUsUUFBTSxFQUFFLE9BQU8sUUFBUSxTQUFTLFFBQVEsSUFBSTtBQUM1QyxNQUFJLFNBQVM7QUFDYixNQUFJLFNBQVM7QUFDYixhQUFXLENBQUMsT0FBTyxJQUFJLEtBQUssTUFBTSxRQUFRLEdBQUc7QUFDM0MsVUFBTUMsVUFBUyxPQUFPLE1BQU0sU0FBUztBQUNyQyxVQUFNLFNBQVMsU0FBUyxXQUFXQSxPQUFNO0FBQ3pDLFVBQU1DLFFBQU8sUUFBUSxRQUFRLEtBQUssS0FBSztBQUN2QyxRQUFJLFdBQVcsTUFBTyxVQUFTLE1BQU0sUUFBUSxDQUFDO0FBQzlDLFFBQUksV0FBVyxVQUFhQSxVQUFTLE9BQVE7QUFDN0MsYUFBUztBQUNULFVBQU0sT0FBT0EsVUFBUyxRQUFRLFNBQVksSUFBSSxJQUFJQSxLQUFJO0FBQ3RELFVBQU0sVUFBVSxNQUFNLFFBQVEsTUFBTUQsU0FBUSxTQUFTLFNBQVMsU0FBUyxJQUFJO0FBQzNFLGFBQVMsTUFBTSxRQUFRLFdBQVcsT0FBTyxDQUFDO0FBQzFDLFFBQUksUUFBUSxPQUFPLFdBQVksT0FBTyxzQkFBc0IsUUFBVTtBQUFBLEVBQ3hFO0FBQ0EsU0FBTyxFQUFFLFFBQVEsT0FBTztBQUMxQjtBQUVBLGVBQWUsUUFDYixNQUNBQSxTQUNBLEVBQUUsV0FBVyxRQUFRLFNBQVMsUUFBUSxZQUFZLEdBQ2xELEVBQUUsVUFBVSxRQUFRLGFBQWEsR0FDakMsU0FDQSxNQUM4QjtBQUM5QixRQUFNLEVBQUUsUUFBUSxJQUFJLElBQUksU0FBUyxNQUFNLFdBQVcsVUFBVSxRQUFRLFdBQVc7QUFDL0UsUUFBTSxFQUFFLEtBQUssSUFBSSxVQUFVO0FBQzNCLFFBQU0sRUFBRSxtQkFBbUIsSUFBSTtBQUMvQixRQUFNLFdBQVcsRUFBRSxRQUFRLFFBQVEsWUFBWSxjQUFjLFFBQUFBLFNBQVEsU0FBUyxNQUFNLG9CQUFvQixRQUFRO0FBQ2hILFFBQU0sVUFBVSxNQUFNLFVBQVUsV0FBVyxNQUFNLFFBQVEsRUFBRSxRQUFRLEdBQUc7QUFDdEUsTUFBSSxVQUFVLGdCQUFnQixPQUFXLFFBQU8sTUFBTSxLQUFLLElBQUk7QUFDL0QsTUFBSSxTQUFTLE1BQU07QUFDakIsVUFBTSxXQUFXLGdCQUFnQixTQUFTLEtBQUssSUFBSTtBQUNuRCxhQUFTLE1BQU0sS0FBSyxLQUFLLFVBQVUsZ0JBQWdCLFNBQVksV0FBVyxFQUFFLEdBQUcsVUFBVSxZQUFZLENBQUMsQ0FBQyxDQUFDO0FBQUEsRUFDMUcsV0FBVyxVQUFVLE9BQVEsVUFBUyxNQUFNLFFBQVEsU0FBUyxLQUFLLE1BQU0sUUFBUSxDQUFDO0FBQUEsTUFDNUUsVUFBUyxNQUFNLFlBQVksU0FBUyxLQUFLLE1BQU0sVUFBVSxJQUFJLENBQUM7QUFDbkUsTUFBSSxRQUFRLFNBQVMsQ0FBQyxTQUFTLEtBQU0sVUFBUyxTQUFTLGFBQWEsUUFBUSxPQUFPLFNBQVMsS0FBSyxJQUFJLENBQUM7QUFDdEcsU0FBTyxRQUFRO0FBQ2pCO0FBR0EsZUFBZSxLQUFLLElBQVksRUFBRSxVQUFVLE9BQU8sR0FBMkI7QUFDNUUsUUFBTSxRQUFRLFlBQVksSUFBSSxJQUFJO0FBQ2xDLE1BQUksS0FBSyxJQUFNLFVBQVMsS0FBSyxTQUFTLElBQUksSUFBSSxZQUFZLGFBQWEsRUFBRSxDQUFDLEVBQUUsQ0FBQztBQUM3RSxTQUFPLENBQUMsT0FBTyxXQUFXLFlBQVksSUFBSSxJQUFJLE9BQU87QUFDbkQsVUFBTSxPQUFPLFFBQVEsWUFBWSxJQUFJO0FBQ3JDLFVBQU0sV0FBVyxLQUFLLElBQUksTUFBTSxHQUFJLEdBQUcsUUFBVyxFQUFFLE9BQU8sQ0FBQyxFQUFFLE1BQU0sTUFBTSxNQUFTO0FBQUEsRUFDckY7QUFDRjtBQUdPLFNBQVMsTUFBTSxLQUFhLE9BQXVCO0FBQ3hELFFBQU0sUUFBUSxDQUFDLEdBQUcsR0FBRyxHQUFHLEdBQUcsR0FBRyxHQUFHO0FBQ2pDLFNBQU8sTUFBTSxRQUFRLEdBQUcsS0FBSyxNQUFNLFFBQVEsS0FBSyxJQUFJLE1BQU07QUFDNUQ7OztBTXRHTyxJQUFNLFNBQWlCO0FBQUEsRUFDNUIsU0FBUyxRQUFRO0FBQUEsRUFDakIsTUFBTSxLQUFLO0FBQ1QsUUFBSSxRQUFRLFFBQVEsSUFBSyxRQUFPO0FBQ2hDLFFBQUk7QUFDRixjQUFRLEtBQUssS0FBSyxDQUFDO0FBQ25CLGFBQU87QUFBQSxJQUNULFNBQVMsT0FBTztBQUNkLGFBQVEsTUFBZ0MsU0FBUztBQUFBLElBQ25EO0FBQUEsRUFDRjtBQUNGO0FBR0EsZUFBc0IsVUFDcEIsU0FDQSxPQUNBLFNBQ0EsUUFDaUI7QUFDakIsUUFBTSxFQUFFLFdBQVcsT0FBTyxRQUFRLFlBQVksSUFBSTtBQUNsRCxRQUFNLEVBQUUsU0FBUyxJQUFJO0FBQ3JCLFlBQVUsY0FBYztBQUFBLElBQ3RCLE9BQU8sTUFBTSxRQUFRLENBQUMsRUFBRSxNQUFNLE1BQU0sS0FBSyxFQUFFLE9BQU8sQ0FBQyxLQUFLLEVBQUUsUUFBUSxNQUFNLE1BQU0sU0FBUyxDQUFDO0FBQUEsSUFDeEYsTUFBTSxNQUFNLEtBQUssQ0FBQyxFQUFFLEtBQUssTUFBTSxTQUFTLE1BQVM7QUFBQSxFQUNuRCxDQUFDO0FBQ0QsTUFBSTtBQUNGLFVBQU0sWUFBWSxXQUFXLE9BQU8sUUFBUSxNQUFNO0FBQUEsRUFDcEQsU0FBUyxPQUFPO0FBQ2QsVUFBTSxVQUFVLFVBQVUsS0FBSztBQUMvQixRQUFJLGdCQUFnQixVQUFhLFFBQVEsV0FBVyxZQUFhLE9BQU07QUFDdkUsWUFBUSxRQUFRLFFBQVEsYUFBYSxPQUFPO0FBQzVDLGFBQVMsU0FBUyxhQUFhLFNBQVMsU0FBUyxLQUFLLFVBQVUsU0FBUyxJQUFJLENBQUM7QUFDOUUsV0FBTyxXQUFXLE9BQU87QUFBQSxFQUMzQjtBQUNBLFFBQU0sVUFBVSxPQUFPLFNBQVMsU0FBWSxNQUFNLFFBQVEsV0FBVyxRQUFRLE1BQU0sT0FBTyxPQUFPLFFBQVEsTUFBTTtBQUMvRyxNQUFJO0FBQ0YsV0FBTyxNQUFNLFVBQVUsRUFBRSxHQUFHLFNBQVMsU0FBUyxTQUFTLE1BQU0sUUFBUSxHQUFHLE9BQU87QUFBQSxFQUNqRixVQUFFO0FBQ0EsVUFBTSxTQUFTLE1BQU07QUFDckIsVUFBTSxRQUFRLFFBQVE7QUFBQSxFQUN4QjtBQUNGO0FBRU8sU0FBUyxXQUNkLFFBQ0EsRUFBRSxTQUFTLEdBQ1gsTUFDTTtBQUNOLE1BQUksQ0FBQyxPQUFRO0FBQ2IsTUFBSSxTQUFTLEtBQU0sVUFBUyxNQUFNLEtBQUssS0FBSyxVQUFVLGVBQWUsT0FBTyxPQUFPLENBQUMsQ0FBQyxDQUFDLENBQUM7QUFBQSxNQUNsRixVQUFTLE1BQU07QUFBQSxFQUFLLFdBQVcsT0FBTyxPQUFPLEdBQUcsVUFBVSxJQUFJLENBQUMsRUFBRTtBQUN4RTs7O0FDakRBLGVBQXNCLFlBQVksU0FBa0IsS0FBYSxRQUFvQztBQUNuRyxRQUFNLEVBQUUsS0FBSyxRQUFRLE1BQU0sSUFBSSxNQUFNLFFBQVEsU0FBUyxLQUFLLE1BQU07QUFDakUsUUFBTSxFQUFFLE1BQU0sT0FBTyxJQUFJLE1BQU07QUFDL0IsUUFBTSxRQUFRLE1BQU0sVUFBVSxJQUFJLFdBQVcsTUFBTSxPQUFPLEVBQUUsTUFBTSxPQUFPLENBQUM7QUFDMUUsTUFBSSxVQUFVLGNBQWMsTUFBTSxRQUFRLENBQUMsRUFBRSxNQUFNLE1BQU0sS0FBSyxDQUFDO0FBQy9ELFFBQU0sU0FBUyxPQUFPLFNBQVMsV0FBVyxTQUFTLElBQUk7QUFDdkQsUUFBTSxVQUFVLEVBQUUsR0FBRyxLQUFLLE9BQU8sUUFBUSxRQUFRLGFBQWEsT0FBVTtBQUN4RSxNQUFJO0FBQ0osTUFBSSxPQUFPLFdBQVcsUUFBVztBQUMvQixlQUFXLFFBQVEsTUFBTTtBQUN6QixhQUFTLE1BQU0sVUFBVSxTQUFTLE9BQU8sU0FBUyxNQUFNO0FBQUEsRUFDMUQsT0FBTztBQUNMLFVBQU0sUUFBUSxZQUFZLE9BQU8sTUFBTTtBQUN2QyxRQUFJLE1BQU0sTUFBTSxDQUFDRSxVQUFTQSxVQUFTLE1BQU0sR0FBRztBQUMxQyxjQUFRLFNBQVMsS0FBSyx5QkFBeUIsT0FBTyxPQUFPLEdBQUcsRUFBRTtBQUNsRSxhQUFPO0FBQUEsSUFDVDtBQUNBLFVBQU0sVUFBVSxFQUFFLE1BQU0sUUFBUSxRQUFRLEdBQUcsT0FBTyxHQUFHLE1BQU07QUFDM0QsYUFBUyxNQUFNLFVBQVUsU0FBUyxFQUFFLEdBQUcsT0FBTyxRQUFRLEdBQUcsT0FBTztBQUFBLEVBQ2xFO0FBQ0EsYUFBVyxRQUFRLFNBQVMsSUFBSSxVQUFVLFNBQVMsSUFBSTtBQUN2RCxTQUFPO0FBQ1Q7QUFFQSxlQUFlLFFBQ2IsU0FDQSxLQUNBLFFBQzJEO0FBQzNELFFBQU0sRUFBRSxLQUFLLElBQUk7QUFDakIsTUFBSSxRQUFRLFFBQVEsUUFBUSxRQUFXO0FBQ3JDLFVBQU0sSUFBSSxRQUFRLFNBQVMsRUFBRSxNQUFNLHdDQUF3QyxRQUFRLGVBQWUsQ0FBQztBQUFBLEVBQ3JHO0FBQ0EsUUFBTSxhQUFhLE1BQU0sUUFBUSxXQUFXO0FBQzVDLFFBQU0sV0FBVyxhQUFhO0FBQzlCLFFBQU0sRUFBRSxRQUFRLE1BQU0sSUFBSSxNQUFNLFdBQVcsV0FBVyxPQUFPLE1BQU0sS0FBSyxRQUFRO0FBQ2hGLFFBQU0sV0FBVyxJQUFJLElBQUksQ0FBQyxHQUFHLE1BQU0sVUFBVSxHQUFHLFdBQVcsUUFBUSxRQUFRLE9BQU8sQ0FBQyxDQUFDLENBQUMsQ0FBQztBQUN0RixRQUFNLE1BQU0sTUFBTSxPQUFPLFNBQVMsUUFBUSxFQUFFLGFBQWEsTUFBTSxhQUFhLFVBQVUsVUFBVSxXQUFXLENBQUM7QUFDNUcsUUFBTSxVQUFVLEVBQUUsR0FBRyxNQUFNLFNBQVMsUUFBUSxPQUFPLFVBQVUsTUFBTSxRQUFRLE9BQU87QUFDbEYsU0FBTyxFQUFFLEtBQUssUUFBUSxPQUFPLEVBQUUsR0FBRyxPQUFPLFVBQVUsUUFBUSxFQUFFO0FBQy9EO0FBRUEsZUFBc0IsWUFBWSxTQUFrQixLQUFhLFFBQW9DO0FBQ25HLFFBQU0sRUFBRSxVQUFVLE9BQU8sSUFBSTtBQUM3QixRQUFNLEVBQUUsS0FBSyxRQUFRLE1BQU0sSUFBSSxNQUFNLFFBQVEsU0FBUyxLQUFLLE1BQU07QUFDakUsYUFBVyxRQUFRLE1BQU07QUFDekIsUUFBTSxFQUFFLFVBQVUsSUFBSTtBQUN0QixRQUFNLEVBQUUsS0FBSyxJQUFJLFVBQVU7QUFDM0IsTUFBSSxPQUFPLE1BQU0sRUFBRSxXQUFXLEdBQUc7QUFDL0IsVUFBTSxPQUFPLEVBQUUsS0FBSyxPQUFPLE9BQU8sS0FBSyxRQUFRLEdBQUcsV0FBVyxFQUFFO0FBQy9ELFFBQUksU0FBUyxLQUFNLFVBQVMsTUFBTSxLQUFLLFVBQVUsb0JBQW9CLElBQUksQ0FBQyxDQUFDO0FBQUEsUUFDdEUsVUFBUyxLQUFLLE9BQU8sS0FBSyxHQUFHLHdDQUF3QztBQUMxRSxXQUFPO0FBQUEsRUFDVDtBQUNBLFlBQVUsY0FBYyxFQUFFLE9BQU8sT0FBTyxNQUFNLEVBQUUsUUFBUSxNQUFNLE1BQU0sQ0FBQztBQUNyRSxRQUFNLFVBQVUsTUFBTSxRQUFRLFdBQVcsUUFBUSxNQUFNLFFBQVcsT0FBTyxRQUFRLE1BQU07QUFDdkYsTUFBSTtBQUNGLFVBQU0sVUFBVSxNQUFNO0FBQUEsTUFDcEI7QUFBQSxNQUNBO0FBQUEsTUFDQTtBQUFBLE1BQ0EsQ0FBQyxVQUFVO0FBQ1QsWUFBSSxTQUFTLEtBQU0sVUFBUyxNQUFNLEtBQUssS0FBSyxVQUFVLGNBQWMsT0FBTyxJQUFJLENBQUMsQ0FBQyxDQUFDO0FBQUEsWUFDN0UsWUFBVyxRQUFRLFdBQVcsT0FBTyxVQUFVLElBQUksRUFBRyxVQUFTLE1BQU0sSUFBSTtBQUFBLE1BQ2hGO0FBQUEsTUFDQTtBQUFBLElBQ0Y7QUFDQSxRQUFJLFNBQVMsS0FBTSxVQUFTLE1BQU0sS0FBSyxVQUFVLG9CQUFvQixPQUFPLENBQUMsQ0FBQztBQUFBLFNBQ3pFO0FBQ0gsWUFBTSxPQUFPLFFBQVEsWUFBWSxJQUFJLEtBQUssU0FBUyxJQUFJLElBQUksR0FBRyxRQUFRLFNBQVMsTUFBTSxDQUFDLEtBQUs7QUFDM0YsZUFBUyxNQUFNLE9BQU8sUUFBUSxHQUFHLEtBQUssUUFBUSxNQUFNLFVBQVUsSUFBSSxFQUFFO0FBQUEsSUFDdEU7QUFDQSxXQUFPLE9BQU8sVUFBVSxNQUFNLFFBQVEsWUFBWSxJQUFJLElBQUk7QUFBQSxFQUM1RCxVQUFFO0FBQ0EsVUFBTSxRQUFRLE1BQU07QUFBQSxFQUN0QjtBQUNGOzs7QUNyRU8sU0FBU0MsWUFBVyxTQUEyQjtBQUNwRCxTQUFPLFFBQ0osT0FBTyxtQkFBbUIsb0RBQW9ELEVBQzlFLE9BQU8saUJBQWlCLGtGQUFrRixFQUMxRyxPQUFPLHNCQUFzQix1REFBdUQsRUFDcEYsT0FBTywyQkFBMkIsMERBQTBELEVBQzVGLE9BQU8sYUFBYSxvRkFBb0YsRUFDeEcsT0FBTyxxQkFBcUIsdUJBQXVCLEVBQ25ELE9BQU8sc0JBQXNCLHNEQUFzRCxFQUNuRixPQUFPLHFCQUFxQiw4RUFBOEUsRUFDMUcsT0FBTyxZQUFZLG9FQUFvRSxFQUN2RixPQUFPLFlBQVksOENBQThDLEVBQ2pFLE9BQU8sa0JBQWtCLHdFQUF3RSxFQUNqRyxPQUFPLHFCQUFxQixnQ0FBZ0MsRUFDNUQsT0FBTyxnQkFBZ0Isa0RBQWtEO0FBQzlFO0FBRU8sU0FBUyxVQUFVLFNBQWtDLE9BQXFDO0FBQy9GLFFBQU0sT0FBTyxDQUFDLFNBQXFDLFFBQVEsSUFBSTtBQUMvRCxRQUFNLE9BQU8sQ0FBQyxTQUEwQixRQUFRLElBQUksTUFBTTtBQUMxRCxRQUFNQyxVQUFTLENBQUMsTUFBYyxhQUM1QixLQUFLLElBQUksTUFBTSxTQUFZLFNBQVksWUFBWSxLQUFLLElBQUksR0FBYSxVQUFVLEVBQUUsT0FBTyxFQUFFLENBQUM7QUFDakcsUUFBTSxTQUFvQjtBQUFBLElBQ3hCLE1BQU0sS0FBSyxNQUFNO0FBQUEsSUFDakIsUUFBUUEsUUFBTyxVQUFVLFdBQVc7QUFBQSxJQUNwQyxjQUFjLEtBQUssY0FBYztBQUFBLElBQ2pDLFFBQVEsS0FBSyxRQUFRO0FBQUEsSUFDckIsUUFBUSxLQUFLLFFBQVE7QUFBQSxJQUNyQixvQkFBb0IsS0FBSyxvQkFBb0I7QUFBQSxJQUM3QyxRQUFRQSxRQUFPLFVBQVUsVUFBVSxNQUFNLEtBQUssT0FBTyxNQUFNLFNBQVksSUFBSTtBQUFBLElBQzNFLE9BQU8sUUFBUSxLQUFLLE9BQU8sQ0FBQztBQUFBLElBQzVCLE9BQU8sUUFBUSxLQUFLLE9BQU8sQ0FBQztBQUFBLElBQzVCLFFBQVEsS0FBSyxRQUFRO0FBQUEsSUFDckIsUUFBUSxLQUFLLFFBQVE7QUFBQSxJQUNyQixVQUFVLEtBQUssVUFBVTtBQUFBLElBQ3pCLE1BQU0sS0FBSyxNQUFNO0FBQUEsRUFDbkI7QUFDQSxRQUFNQyxXQUFXLENBQUMsVUFBVSxZQUFZLE1BQU0sRUFBWSxPQUFPLENBQUMsU0FBUyxPQUFPLElBQUksTUFBTSxNQUFTO0FBQ3JHLFFBQU0sQ0FBQyxLQUFLLElBQUlBO0FBQ2hCLE1BQUlBLFNBQVEsU0FBUyxHQUFHO0FBQ3RCLFVBQU0sSUFBSSxRQUFRLFNBQVMsRUFBRSxNQUFNLEdBQUdBLFNBQVEsSUFBSSxNQUFNLEVBQUUsS0FBSyxPQUFPLENBQUMsMEJBQTBCLENBQUM7QUFBQSxFQUNwRztBQUNBLE1BQUksVUFBVSxVQUFhLE1BQU0sV0FBVyxHQUFHO0FBQzdDLFVBQU0sSUFBSSxRQUFRLFNBQVM7QUFBQSxNQUN6QixNQUFNO0FBQUEsTUFDTixRQUFRO0FBQUEsSUFDVixDQUFDO0FBQUEsRUFDSDtBQUNBLE1BQUksVUFBVSxVQUFhLE1BQU0sU0FBUyxHQUFHO0FBQzNDLFVBQU0sSUFBSSxRQUFRLFNBQVM7QUFBQSxNQUN6QixNQUFNLEdBQUcsT0FBTyxLQUFLLENBQUM7QUFBQSxNQUN0QixRQUFRLFNBQVMsTUFBTSxLQUFLLEdBQUcsQ0FBQztBQUFBLElBQ2xDLENBQUM7QUFBQSxFQUNIO0FBQ0EsUUFBTSxNQUFPLENBQUMsUUFBUSxVQUFVLFNBQVMsT0FBTyxFQUFZLEtBQUssQ0FBQyxTQUFTLEtBQUssSUFBSSxNQUFNLE1BQVM7QUFDbkcsTUFBSSxVQUFVLFVBQWEsUUFBUSxRQUFXO0FBQzVDLFVBQU0sSUFBSSxRQUFRLFNBQVM7QUFBQSxNQUN6QixNQUFNLEtBQUssR0FBRyxrQkFBa0IsT0FBTyxLQUFLLENBQUM7QUFBQSxNQUM3QyxRQUFRO0FBQUEsSUFDVixDQUFDO0FBQUEsRUFDSDtBQUNBLE1BQUksT0FBTyxXQUFXLFVBQVUsWUFBWSxVQUFVLFNBQVM7QUFDN0QsVUFBTSxJQUFJLFFBQVEsU0FBUyxFQUFFLE1BQU0saUJBQWlCLE9BQU8sS0FBSyxDQUFDLDBCQUEwQixDQUFDO0FBQUEsRUFDOUY7QUFDQSxNQUFJLE9BQU8sVUFBVSxVQUFhLEtBQUssT0FBTyxNQUFNLFVBQWEsS0FBSyxRQUFRLE1BQU0sUUFBVztBQUM3RixVQUFNLElBQUksUUFBUSxTQUFTLEVBQUUsTUFBTSx3Q0FBd0MsQ0FBQztBQUFBLEVBQzlFO0FBQ0EsU0FBTztBQUNUO0FBRUEsSUFBTSxTQUFTLENBQUMsU0FBeUIsS0FBSyxLQUFLLFFBQVEsVUFBVSxDQUFDLFdBQVcsSUFBSSxPQUFPLFlBQVksQ0FBQyxFQUFFLENBQUM7QUFFNUcsU0FBUyxRQUFRLE1BQWtDO0FBQ2pELE1BQUksU0FBUyxPQUFXLFFBQU87QUFDL0IsUUFBTSxRQUFRLGNBQWMsSUFBSTtBQUNoQyxNQUFJLFVBQVUsVUFBYSxRQUFRLEVBQUcsUUFBTztBQUM3QyxRQUFNLElBQUksUUFBUSxTQUFTLEVBQUUsTUFBTSxrRUFBa0UsSUFBSSxHQUFHLENBQUM7QUFDL0c7QUFFQSxTQUFTLFFBQVEsTUFBOEM7QUFDN0QsTUFBSSxTQUFTLFVBQWEsU0FBUyxRQUFRLFNBQVMsU0FBVSxRQUFPO0FBQ3JFLFFBQU0sSUFBSSxRQUFRLFNBQVMsRUFBRSxNQUFNLG1DQUFtQyxJQUFJLEdBQUcsQ0FBQztBQUNoRjs7O0FDN0ZBLGVBQXNCLFVBQVUsU0FBa0IsT0FBMEIsUUFBb0M7QUFDOUcsUUFBTSxFQUFFLFNBQVMsSUFBSTtBQUNyQixRQUFNLGVBQWUsUUFBUSxRQUFRLEtBQUssTUFBTSxHQUFHLEVBQUUsSUFBSSxDQUFDLFNBQVMsS0FBSyxLQUFLLENBQUMsS0FBSyxDQUFDLE1BQVM7QUFDN0YsUUFBTSxVQUFVLGFBQWEsU0FBUztBQUN0QyxRQUFNLFNBQVMsT0FBTyxVQUFVLFVBQVUsV0FBVyxTQUFTLElBQUk7QUFDbEUsUUFBTSxNQUE2RCxDQUFDO0FBQ3BFLGFBQVcsZUFBZSxjQUFjO0FBQ3RDLFVBQU0sTUFBTSxNQUFNLE9BQU8sU0FBUyxRQUFRLEVBQUUsWUFBWSxDQUFDO0FBQ3pELFVBQU0sUUFBUSxNQUFNLFVBQVUsSUFBSSxXQUFXLE9BQU8sTUFBTTtBQUMxRCxRQUFJLFVBQVUsY0FBYyxNQUFNLFFBQVEsQ0FBQyxFQUFFLE1BQU0sTUFBTSxLQUFLLENBQUM7QUFDL0QsUUFBSSxLQUFLLEVBQUUsR0FBRyxLQUFLLE1BQU0sQ0FBQztBQUFBLEVBQzVCO0FBQ0EsTUFBSSxTQUFTO0FBQ2IsYUFBVyxPQUFPLEtBQUs7QUFDckIsUUFBSSxRQUFRLE9BQU8sUUFBUztBQUM1QixVQUFNLEVBQUUsVUFBVSxZQUFZLElBQUksSUFBSTtBQUN0QyxRQUFJLFdBQVcsQ0FBQyxTQUFTLEtBQU0sVUFBUyxLQUFLLFNBQVMsSUFBSSxLQUFLLGVBQWUsWUFBWSxJQUFJLEVBQUUsQ0FBQztBQUNqRyxVQUFNLEVBQUUsTUFBTSxRQUFRLFFBQVEsT0FBTyxNQUFNLElBQUk7QUFDL0MsVUFBTSxVQUFVLEVBQUUsTUFBTSxRQUFRLFFBQVEsT0FBTyxNQUFNO0FBQ3JELFVBQU0sUUFBa0IsRUFBRSxPQUFPLGFBQWEsWUFBWSxNQUFNLFVBQVUsUUFBUTtBQUNsRixVQUFNLFVBQVUsRUFBRSxHQUFHLEtBQUssUUFBUSxRQUFRLGFBQWEsVUFBVSxZQUFZLE9BQU8sT0FBVTtBQUM5RixhQUFTLE1BQU0sUUFBUSxNQUFNLFVBQVUsU0FBUyxPQUFPLE9BQU8sQ0FBQztBQUMvRCxRQUFJLFFBQVMsU0FBUSxNQUFNLFlBQVksSUFBSTtBQUFBLEVBQzdDO0FBQ0EsYUFBVyxRQUFRLFNBQVMsUUFBUSxTQUFTLEdBQUcsU0FBUyxDQUFDLFNBQVMsS0FBSztBQUN4RSxTQUFPO0FBQ1Q7OztBQ2pDTyxJQUFNLEVBQUUsVUFBVSxJQUFtQjtBQUFBLEVBQzFDLFVBQVUsU0FBUyxLQUFLO0FBQ3RCLFlBQVEsU0FBUyxjQUFjLGtFQUFrRTtBQUNqRyxJQUFBQyxZQUFXLE9BQU8sRUFBRTtBQUFBLE1BQ2xCLElBQUksT0FBTyxTQUFTLE9BQU8sWUFBWTtBQUNyQyxjQUFNLFNBQVMsVUFBVSxTQUFTLEtBQUs7QUFDdkMsWUFBSSxPQUFPLFNBQVMsT0FBVyxRQUFPLFlBQVksU0FBUyxPQUFPLE1BQU0sTUFBTTtBQUM5RSxjQUFNQyxXQUFVLE9BQU8sVUFBVSxPQUFPO0FBQ3hDLFlBQUlBLGFBQVksT0FBVyxRQUFPLFlBQVksU0FBU0EsVUFBUyxNQUFNO0FBQ3RFLGVBQU8sVUFBVSxTQUFTLE9BQU8sTUFBTTtBQUFBLE1BQ3pDLENBQUM7QUFBQSxJQUNIO0FBQ0EsYUFBUyxTQUFTO0FBQUEsTUFDaEIsQ0FBQyxrQkFBa0IsMkJBQTJCO0FBQUEsTUFDOUMsQ0FBQywyQ0FBMkMsNkNBQTZDO0FBQUEsTUFDekYsQ0FBQyxnQ0FBZ0MsdUNBQXVDO0FBQUEsTUFDeEUsQ0FBQyx5Q0FBeUMsb0RBQW9EO0FBQUEsTUFDOUYsQ0FBQyxxQkFBcUIsNkRBQTZEO0FBQUEsSUFDckYsQ0FBQztBQUFBLEVBQ0g7QUFDRjsiLAogICJuYW1lcyI6IFsic2hvd24iLCAiYXQiLCAiam9pbiIsICJyZWNvcmRlciIsICJwcm9jZXNzIiwgImF0IiwgInByb2Nlc3MiLCAiYXQiLCAiZmlyc3QiLCAiam9pbiIsICJhdCIsICJhdCIsICJ1bmRvT25lIiwgImtlcHQiLCAia2VwdCIsICJhdCIsICJjb3VudCIsICJzaG93biIsICJyZXN0IiwgImtlcHQiLCAiY291bnQiLCAiYXQiLCAiYXQiLCAicGF0aWVuY2UiLCAic2hvd24iLCAibW9zdERldmlhdGlvbnMiLCAicGF0aWVuY2UiLCAibnVtYmVyIiwgInRhYmxlIiwgImF0IiwgIm51bWJlciIsICJwYXRpZW5jZSIsICJwYXRpZW5jZSIsICJjb3VudCIsICJzaG93biIsICJjb3VudCIsICJudW1iZXIiLCAicGFydCIsICJwYXJ0IiwgInJ1bk9wdGlvbnMiLCAibnVtYmVyIiwgImVhcmxpZXIiLCAicnVuT3B0aW9ucyIsICJlYXJsaWVyIl0KfQo=
