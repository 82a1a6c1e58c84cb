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
} from "./chunk-CCH3JN3S.js";
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
} from "./chunk-6Q2UT6J5.js";
import "./chunk-4F2HHAKH.js";
import "./chunk-N7Z7IEQC.js";
import {
  compareVersions
} from "./chunk-DBOKXPOD.js";
import {
  sendRequest
} from "./chunk-WDOQRD4B.js";
import "./chunk-QGZBLOK6.js";
import {
  journalFolder,
  openJournal
} from "./chunk-VX7MFW7M.js";
import "./chunk-HXYVL4WF.js";
import {
  problemFrom,
  recorder
} from "./chunk-EXCDNUU7.js";
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
} from "./chunk-XDIYCA3Q.js";
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
import "./chunk-HUSWIGAX.js";
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
import "./chunk-SAZ2GS5U.js";
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
    async (row) => {
      if (only && !only.has(row.number)) return;
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
function labelOf({ columns }) {
  for (const name in columns) return shortText(columns[name]).replace(/^"|"$/g, "");
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
//# sourceMappingURL=data:application/json;base64,ewogICJ2ZXJzaW9uIjogMywKICAic291cmNlcyI6IFsiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvcnVuL21hdHJpeC50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9ydW4vbmFtZXMudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvcnVuL29wZW4tcnVuLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL2pvdXJuYWwvYmVmb3JlLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL2pvdXJuYWwvbGluZXMudHMiLCAiLi4vLi4vLi4vc3JjL2NvcmUvdHJhaWwvY2xvc2luZy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC91bmRvaW5nLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3J1bi91bmRvLXJ1bi50cyIsICIuLi8uLi8uLi9zcmMvY2xpL3ZpZXcvcnVuLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvdmlldy9ydW4tZG9jdW1lbnRzLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvd2Fsa2luZy9hY2NlcHRpbmcudHMiLCAiLi4vLi4vLi4vc3JjL2NsaS93YWxraW5nL29wZW5lZC50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC9ydW4vYWhlYWQudHMiLCAiLi4vLi4vLi4vc3JjL2NsaS92aWV3L3J1bi1zdW1tYXJ5LnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvd2Fsa2luZy93YWxrLXBsYW5zLnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3RhbGx5LnRzIiwgIi4uLy4uLy4uL3NyYy9jb3JlL3RyYWlsL3dhbGstcm93cy50cyIsICIuLi8uLi8uLi9zcmMvY29yZS90cmFpbC93YWxrLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvd2Fsa2luZy9saXZlLXZpZXcudHMiLCAiLi4vLi4vLi4vc3JjL2NsaS93YWxraW5nL3JlcG9ydGVyLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvd2Fsa2luZy93YWxrLWFoZWFkLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvd2Fsa2luZy9lYXJsaWVyLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvd2Fsa2luZy9vcHRpb25zLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvd2Fsa2luZy93YWxrLW5hbWVzLnRzIiwgIi4uLy4uLy4uL3NyYy9jbGkvY29tbWFuZHMvcnVuLnRzIl0sCiAgInNvdXJjZXNDb250ZW50IjogWyIvKiogTWFueSBob3N0cyBieSBtYW55IGNoZWNrczogd2hhdCBlYWNoIHN0ZXAgY2FtZSB0byBmb3IgZWFjaCwgYW5kIHdoZXJlIGFuIGFuc3dlciB3YXMgbm90IGFzIGV4cGVjdGVkLiAqL1xuaW1wb3J0IHR5cGUgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB0eXBlIHsgVmFsdWUgfSBmcm9tICcuLi8uLi92YWx1ZS93cml0dGVuLmpzJztcbmltcG9ydCB0eXBlIHsgU3RlcEV2ZW50LCBXYWxrRXZlbnQgfSBmcm9tICcuLi9ldmVudHMuanMnO1xuXG5leHBvcnQgdHlwZSBDZWxsU3RhdGUgPSAnb2snIHwgJ2ZhaWxlZCcgfCAndW5yZWFjaGFibGUnIHwgJ3NraXBwZWQnIHwgJyc7XG5cbmV4cG9ydCBpbnRlcmZhY2UgU3ViamVjdCB7XG4gIC8qKiBUaGUgaG9zdDogYSByb3cncyBsYWJlbCwgb3IgYW4gZW52aXJvbm1lbnQuICovXG4gIHJlYWRvbmx5IG5hbWU6IHN0cmluZztcbiAgcmVhZG9ubHkgY2VsbHM6IFJlYWRvbmx5TWFwPHN0cmluZywgQ2VsbFN0YXRlPjtcbn1cblxuZXhwb3J0IGludGVyZmFjZSBEZXZpYXRpb24ge1xuICByZWFkb25seSBzdWJqZWN0OiBzdHJpbmc7XG4gIHJlYWRvbmx5IGNoZWNrOiBzdHJpbmc7XG4gIHJlYWRvbmx5IHBsYWNlOiBzdHJpbmc7XG4gIHJlYWRvbmx5IGV4cGVjdGVkOiBzdHJpbmc7XG4gIHJlYWRvbmx5IGZvdW5kOiBzdHJpbmc7XG4gIC8qKiBUaGUgZXhjaGFuZ2UgaW4gd2hpY2ggaXQgd2FzIGZvdW5kOyBlbXB0eSB3aGVyZSB0aGVyZSB3YXMgbm9uZS4gKi9cbiAgcmVhZG9ubHkgZWNobzogc3RyaW5nO1xufVxuXG5leHBvcnQgaW50ZXJmYWNlIE1hdHJpeCB7XG4gIC8qKiBOYW1lcyBvZiBzdGVwcywgaW4gdGhlIG9yZGVyIGluIHdoaWNoIHRoZXkgZmlyc3QgY2FtZS4gKi9cbiAgcmVhZG9ubHkgY2hlY2tzOiByZWFkb25seSBzdHJpbmdbXTtcbiAgcmVhZG9ubHkgc3ViamVjdHM6IHJlYWRvbmx5IFN1YmplY3RbXTtcbiAgcmVhZG9ubHkgZGV2aWF0aW9uczogcmVhZG9ubHkgRGV2aWF0aW9uW107XG59XG5cbi8qKiBEZXZpYXRpb25zIGJleW9uZCB0aGVzZSBhcmUgY291bnRlZCBvbmx5IGJ5IHRoZSBzdGVwcyB0aGF0IGZhaWxlZC4gKi9cbmNvbnN0IG1vc3REZXZpYXRpb25zID0gNTAwMDtcblxuZXhwb3J0IGludGVyZmFjZSBNYXRyaXhNYWtlciB7XG4gIC8qKiBAcGFyYW0gZW52aXJvbm1lbnQgaW4gZnJvbnQgb2Ygd2hhdCBoYXBwZW5zLCB3aGVyZSB0aGVyZSBhcmUgc2V2ZXJhbCAqL1xuICB0YWtlKGV2ZW50OiBXYWxrRXZlbnQsIGVudmlyb25tZW50OiBzdHJpbmcgfCB1bmRlZmluZWQpOiB2b2lkO1xuICAvKiogVGhlIHdhbGsgb2YgYW4gZW52aXJvbm1lbnQgd2l0aG91dCByb3dzIGhhcyBlbmRlZC4gKi9cbiAgZW5kZWQoZW52aXJvbm1lbnQ6IHN0cmluZyk6IHZvaWQ7XG4gIC8qKiBBbiBlbnZpcm9ubWVudCB3aG9zZSBob3N0IGlzIG5vdCB0aGVyZS4gKi9cbiAgbWlzc2luZyhlbnZpcm9ubWVudDogc3RyaW5nLCBwcm9ibGVtOiBQcm9ibGVtKTogdm9pZDtcbiAgbWF0cml4KCk6IE1hdHJpeDtcbn1cblxuLyoqIEBwYXJhbSBzaG93biB3cml0ZXMgYSB2YWx1ZSBhcyBpdCBpcyB0b2xkICovXG5leHBvcnQgZnVuY3Rpb24gbWFrZU1hdHJpeChzaG93bjogKHZhbHVlOiBWYWx1ZSB8IHVuZGVmaW5lZCkgPT4gc3RyaW5nKTogTWF0cml4TWFrZXIge1xuICBjb25zdCBjaGVja3MgPSBuZXcgU2V0PHN0cmluZz4oKTtcbiAgY29uc3QgZW52aXJvbm1lbnRzOiBzdHJpbmdbXSA9IFtdO1xuICBjb25zdCBzdWJqZWN0czoge1xuICAgIGVudmlyb25tZW50OiBudW1iZXI7XG4gICAgcm93OiBudW1iZXI7XG4gICAgbmFtZTogc3RyaW5nO1xuICAgIGNlbGxzOiBNYXA8c3RyaW5nLCBDZWxsU3RhdGU+O1xuICAgIGRldmlhdGlvbnM6IERldmlhdGlvbltdO1xuICB9W10gPSBbXTtcbiAgY29uc3Qgb3BlbiA9IG5ldyBNYXA8bnVtYmVyLCB7IGNlbGxzOiBNYXA8c3RyaW5nLCBDZWxsU3RhdGU+OyBkZXZpYXRpb25zOiBPbWl0PERldmlhdGlvbiwgJ3N1YmplY3QnPltdIH0+KCk7XG4gIGxldCB0b2xkID0gMDtcblxuICBmdW5jdGlvbiBzdGVwKGV2ZW50OiBTdGVwRXZlbnQpOiB2b2lkIHtcbiAgICBjb25zdCByb3cgPSBldmVudC5yb3cgPz8gMDtcbiAgICBsZXQgb3duID0gb3Blbi5nZXQocm93KTtcbiAgICBpZiAoIW93bikge1xuICAgICAgb3duID0geyBjZWxsczogbmV3IE1hcCgpLCBkZXZpYXRpb25zOiBbXSB9O1xuICAgICAgb3Blbi5zZXQocm93LCBvd24pO1xuICAgIH1cbiAgICAvLyBTdGVwcyBpbnNpZGUgb3RoZXJzIGFyZSB0b2xkIGJ5IHRob3NlLlxuICAgIGlmIChldmVudC5kZXB0aCA9PT0gMCkge1xuICAgICAgY2hlY2tzLmFkZChldmVudC5sYWJlbCk7XG4gICAgICBvd24uY2VsbHMuc2V0KGV2ZW50LmxhYmVsLCBzdGF0ZU9mKGV2ZW50KSk7XG4gICAgfVxuICAgIGZvciAoY29uc3QgZGV2aWF0aW9uIG9mIGRldmlhdGlvbnNPZihldmVudCwgc2hvd24pKSB7XG4gICAgICBpZiAodG9sZCA+PSBtb3N0RGV2aWF0aW9ucykgcmV0dXJuO1xuICAgICAgdG9sZCArPSAxO1xuICAgICAgb3duLmRldmlhdGlvbnMucHVzaChkZXZpYXRpb24pO1xuICAgIH1cbiAgfVxuXG4gIGZ1bmN0aW9uIGNsb3NlKHJvdzogbnVtYmVyLCBuYW1lOiBzdHJpbmcsIGVudmlyb25tZW50OiBzdHJpbmcpOiB2b2lkIHtcbiAgICBpZiAoIWVudmlyb25tZW50cy5pbmNsdWRlcyhlbnZpcm9ubWVudCkpIGVudmlyb25tZW50cy5wdXNoKGVudmlyb25tZW50KTtcbiAgICBjb25zdCBvd24gPSBvcGVuLmdldChyb3cpID8/IHsgY2VsbHM6IG5ldyBNYXAoKSwgZGV2aWF0aW9uczogW10gfTtcbiAgICBvcGVuLmRlbGV0ZShyb3cpO1xuICAgIGNvbnN0IGRldmlhdGlvbnMgPSBvd24uZGV2aWF0aW9ucy5tYXAoKG9uZSkgPT4gKHsgc3ViamVjdDogbmFtZSwgLi4ub25lIH0pKTtcbiAgICBzdWJqZWN0cy5wdXNoKHsgZW52aXJvbm1lbnQ6IGVudmlyb25tZW50cy5pbmRleE9mKGVudmlyb25tZW50KSwgcm93LCBuYW1lLCBjZWxsczogb3duLmNlbGxzLCBkZXZpYXRpb25zIH0pO1xuICB9XG5cbiAgcmV0dXJuIHtcbiAgICB0YWtlKGV2ZW50LCBlbnZpcm9ubWVudCkge1xuICAgICAgaWYgKGV2ZW50LmV2ZW50ID09PSAnc3RlcCcpIHN0ZXAoZXZlbnQpO1xuICAgICAgZWxzZSBpZiAoZXZlbnQuZXZlbnQgPT09ICdyb3cnKVxuICAgICAgICBjbG9zZShldmVudC5yb3csIFtlbnZpcm9ubWVudCwgZXZlbnQubGFiZWxdLmZpbHRlcihCb29sZWFuKS5qb2luKCcgJyksIGVudmlyb25tZW50ID8/ICcnKTtcbiAgICB9LFxuICAgIGVuZGVkKGVudmlyb25tZW50KSB7XG4gICAgICBpZiAob3Blbi5oYXMoMCkpIGNsb3NlKDAsIGVudmlyb25tZW50LCBlbnZpcm9ubWVudCk7XG4gICAgfSxcbiAgICBtaXNzaW5nKGVudmlyb25tZW50LCBwcm9ibGVtKSB7XG4gICAgICBvcGVuLnNldCgwLCB7IGNlbGxzOiBuZXcgTWFwKCksIGRldmlhdGlvbnM6IFtzaWxlbmNlKCcnLCBwcm9ibGVtKV0gfSk7XG4gICAgICBjbG9zZSgwLCBlbnZpcm9ubWVudCwgZW52aXJvbm1lbnQpO1xuICAgIH0sXG4gICAgbWF0cml4KCkge1xuICAgICAgY29uc3Qgc29ydGVkID0gWy4uLnN1YmplY3RzXS5zb3J0KChhLCBiKSA9PiBhLmVudmlyb25tZW50IC0gYi5lbnZpcm9ubWVudCB8fCBhLnJvdyAtIGIucm93KTtcbiAgICAgIHJldHVybiB7XG4gICAgICAgIGNoZWNrczogWy4uLmNoZWNrc10sXG4gICAgICAgIHN1YmplY3RzOiBzb3J0ZWQubWFwKCh7IG5hbWUsIGNlbGxzIH0pID0+ICh7IG5hbWUsIGNlbGxzIH0pKSxcbiAgICAgICAgZGV2aWF0aW9uczogc29ydGVkLmZsYXRNYXAoKHsgZGV2aWF0aW9ucyB9KSA9PiBkZXZpYXRpb25zKSxcbiAgICAgIH07XG4gICAgfSxcbiAgfTtcbn1cblxuZnVuY3Rpb24gc3RhdGVPZih7IHN0YXRlLCBwcm9ibGVtcyB9OiBTdGVwRXZlbnQpOiBDZWxsU3RhdGUge1xuICBpZiAoc3RhdGUgIT09ICdmYWlsZWQnKSByZXR1cm4gc3RhdGU7XG4gIHJldHVybiBwcm9ibGVtcy5zb21lKCh7IGZhbWlseSB9KSA9PiBmYW1pbHkgPT09ICduby1hbnN3ZXInKSA/ICd1bnJlYWNoYWJsZScgOiAnZmFpbGVkJztcbn1cblxuZnVuY3Rpb24qIGRldmlhdGlvbnNPZihcbiAgeyBsYWJlbDogY2hlY2ssIHNlbnQsIHRvbGQsIHByb2JsZW1zIH06IFN0ZXBFdmVudCxcbiAgc2hvd246ICh2YWx1ZTogVmFsdWUgfCB1bmRlZmluZWQpID0+IHN0cmluZyxcbik6IEdlbmVyYXRvcjxPbWl0PERldmlhdGlvbiwgJ3N1YmplY3QnPj4ge1xuICBjb25zdCBlY2hvID0gc2VudD8uZWNobyA/PyAnJztcbiAgZm9yIChjb25zdCB7IHBsYWNlLCBleHBlY3RlZCA9ICcnLCBmb3VuZCA9ICcnLCBkZXZpYXRpb25zIH0gb2YgKHNlbnQ/LnZlcmRpY3RzID8/IFtdKS5maWx0ZXIoKHsgb2sgfSkgPT4gIW9rKSkge1xuICAgIGlmICghZGV2aWF0aW9ucyB8fCBkZXZpYXRpb25zLmxlbmd0aCA9PT0gMCkgeWllbGQgeyBjaGVjaywgcGxhY2UsIGV4cGVjdGVkLCBmb3VuZCwgZWNobyB9O1xuICAgIGVsc2Uge1xuICAgICAgZm9yIChjb25zdCB7IGF0LCBsZWZ0LCByaWdodCB9IG9mIGRldmlhdGlvbnMpXG4gICAgICAgIHlpZWxkIHsgY2hlY2ssIHBsYWNlOiBhdCwgZXhwZWN0ZWQ6IHNob3duKGxlZnQpLCBmb3VuZDogc2hvd24ocmlnaHQpLCBlY2hvIH07XG4gICAgfVxuICB9XG4gIGZvciAoY29uc3QgeyBhdCwgbGVmdCwgcmlnaHQgfSBvZiB0b2xkPy5kaWZmZXJlbmNlcyA/PyBbXSlcbiAgICB5aWVsZCB7IGNoZWNrLCBwbGFjZTogYXQsIGV4cGVjdGVkOiBzaG93bihsZWZ0KSwgZm91bmQ6IHNob3duKHJpZ2h0KSwgZWNobyB9O1xuICBjb25zdCBbc2lsZW50XSA9IHByb2JsZW1zLmZpbHRlcigoeyBmYW1pbHkgfSkgPT4gZmFtaWx5ID09PSAnbm8tYW5zd2VyJyk7XG4gIGlmIChzaWxlbnQpIHlpZWxkIHsgLi4uc2lsZW5jZShjaGVjaywgc2lsZW50KSwgZWNobyB9O1xufVxuXG5jb25zdCBzaWxlbmNlID0gKGNoZWNrOiBzdHJpbmcsIHsgd2hhdCB9OiBQcm9ibGVtKTogT21pdDxEZXZpYXRpb24sICdzdWJqZWN0Jz4gPT4gKHtcbiAgY2hlY2ssXG4gIHBsYWNlOiAnYW5zd2VyJyxcbiAgZXhwZWN0ZWQ6ICdhbiBhbnN3ZXInLFxuICBmb3VuZDogd2hhdCxcbiAgZWNobzogJycsXG59KTtcbiIsICIvKiogV2hhdCBpcyB0byBiZSB3YWxrZWQsIGJ5IG5hbWU6IHRyYWlscywgcmVxdWVzdHMsIGFuZCBmb2xkZXJzIG9mIHRoZW0uICovXG5pbXBvcnQgeyBuZWFyZXN0SGludCB9IGZyb20gJy4uLy4uL3Byb2JsZW0vbmVhcmVzdC5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHR5cGUgUGxhbldpc2hlcywgcGxhblRyYWlsLCByZXF1ZXN0QXNUcmFpbCB9IGZyb20gJy4uL3BsYW4uanMnO1xuaW1wb3J0IHR5cGUgeyBUcmFpbFBsYW4gfSBmcm9tICcuLi9zdGVwLWtpbmQuanMnO1xuaW1wb3J0IHR5cGUgeyBXb3Jrc3BhY2UgfSBmcm9tICcuLi93b3Jrc3BhY2UuanMnO1xuXG4vKipcbiAqIEFsbCBpcyByZWFkIGJlZm9yZSB0aGUgZmlyc3Qgc3RlcCBpcyB0YWtlbi4gQSB0cmFpbCBvZiB0aGF0IG5hbWUgd2lucyBvdmVyIGEgcmVxdWVzdC5cbiAqIEB0aHJvd3MgUHJvYmxlbSBuYW1lLW5vdC1mb3VuZCwgbmFtZS1hbWJpZ3VvdXMsIGFuZCBhYm91dCBhbnl0aGluZyBpbiB0aGUgZmlsZXNcbiAqL1xuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIHBsYW5OYW1lcyhcbiAgd29ya3NwYWNlOiBXb3Jrc3BhY2UsXG4gIG5hbWVzOiByZWFkb25seSBzdHJpbmdbXSxcbiAgd2lzaGVzOiBQbGFuV2lzaGVzID0ge30sXG4pOiBQcm9taXNlPFRyYWlsUGxhbltdPiB7XG4gIGNvbnN0IHBsYW5zOiBUcmFpbFBsYW5bXSA9IFtdO1xuICBmb3IgKGNvbnN0IG5hbWUgb2YgbmFtZXMpIHBsYW5zLnB1c2goLi4uKGF3YWl0IHBsYW5OYW1lKHdvcmtzcGFjZSwgbmFtZSwgd2lzaGVzKSkpO1xuICByZXR1cm4gcGxhbnM7XG59XG5cbmFzeW5jIGZ1bmN0aW9uIHBsYW5OYW1lKHdvcmtzcGFjZTogV29ya3NwYWNlLCBuYW1lOiBzdHJpbmcsIHdpc2hlczogUGxhbldpc2hlcyk6IFByb21pc2U8VHJhaWxQbGFuW10+IHtcbiAgY29uc3QgeyBjb2xsZWN0aW9uIH0gPSB3b3Jrc3BhY2U7XG4gIGNvbnN0IGtub3duID0gKGtpbmQ6ICd0cmFpbCcgfCAncmVxdWVzdCcpOiBib29sZWFuID0+IHtcbiAgICB0cnkge1xuICAgICAgY29sbGVjdGlvbi5yZXNvbHZlKGtpbmQsIG5hbWUpO1xuICAgICAgcmV0dXJuIHRydWU7XG4gICAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICAgIGlmIChlcnJvciBpbnN0YW5jZW9mIFByb2JsZW0gJiYgZXJyb3IuY29kZSA9PT0gJ25hbWUtYW1iaWd1b3VzJykgdGhyb3cgZXJyb3I7XG4gICAgICByZXR1cm4gZmFsc2U7XG4gICAgfVxuICB9O1xuICBpZiAoa25vd24oJ3RyYWlsJykpIHJldHVybiBbYXdhaXQgcGxhblRyYWlsKHdvcmtzcGFjZSwgbmFtZSwgd2lzaGVzKV07XG4gIGlmIChrbm93bigncmVxdWVzdCcpKSByZXR1cm4gW2F3YWl0IHJlcXVlc3RBc1RyYWlsKHdvcmtzcGFjZSwgYXdhaXQgd29ya3NwYWNlLnByZXBhcmUobmFtZSksIHdpc2hlcyldO1xuICBjb25zdCBmb2xkZXIgPSBgJHtuYW1lLnJlcGxhY2UoL14oPzp0cmFpbHN8cmVxdWVzdHMpXFwvLywgJycpLnJlcGxhY2UoL1xcLyQvLCAnJyl9L2A7XG4gIGNvbnN0IGluRm9sZGVyID0gKGtpbmQ6ICd0cmFpbCcgfCAncmVxdWVzdCcpOiBzdHJpbmdbXSA9PlxuICAgIGNvbGxlY3Rpb25cbiAgICAgIC5uYW1lcyhraW5kKVxuICAgICAgLmZpbHRlcigob25lKSA9PiBvbmUuc3RhcnRzV2l0aChmb2xkZXIpKVxuICAgICAgLnNvcnQoKTtcbiAgY29uc3QgYmVsb3cgPSBpbkZvbGRlcigndHJhaWwnKTtcbiAgY29uc3QgcGxhbnM6IFRyYWlsUGxhbltdID0gW107XG4gIGZvciAoY29uc3QgdHJhaWwgb2YgYmVsb3cpIHBsYW5zLnB1c2goYXdhaXQgcGxhblRyYWlsKHdvcmtzcGFjZSwgdHJhaWwsIHdpc2hlcykpO1xuICBpZiAoYmVsb3cubGVuZ3RoID09PSAwKSB7XG4gICAgZm9yIChjb25zdCByZXF1ZXN0IG9mIGluRm9sZGVyKCdyZXF1ZXN0JykpXG4gICAgICBwbGFucy5wdXNoKGF3YWl0IHJlcXVlc3RBc1RyYWlsKHdvcmtzcGFjZSwgYXdhaXQgd29ya3NwYWNlLnByZXBhcmUocmVxdWVzdCksIHdpc2hlcykpO1xuICB9XG4gIGlmIChwbGFucy5sZW5ndGggPiAwKSByZXR1cm4gcGxhbnM7XG4gIHRocm93IG5ldyBQcm9ibGVtKCduYW1lLW5vdC1mb3VuZCcsIHtcbiAgICB3aGF0OiBgdGhlcmUgaXMgbmVpdGhlciBhIHRyYWlsIG5vciBhIHJlcXVlc3QgJHtuYW1lfSwgbm9yIGEgZm9sZGVyIG9mIHRoZW1gLFxuICAgIHJlbWVkeTogbmVhcmVzdEhpbnQobmFtZSwgWy4uLmNvbGxlY3Rpb24ubmFtZXMoJ3RyYWlsJyksIC4uLmNvbGxlY3Rpb24ubmFtZXMoJ3JlcXVlc3QnKV0pLFxuICB9KTtcbn1cbiIsICIvKiogQSBydW46IHdoYXQgd2FzIGFza2VkIGZvciwgaXRzIGpvdXJuYWwsIGFuZCB3aGF0IGFuIGVhcmxpZXIgY29tbWFuZCBsZWZ0IG9mIGl0LiAqL1xuaW1wb3J0IHsgY3JlYXRlSGFzaCB9IGZyb20gJ25vZGU6Y3J5cHRvJztcbmltcG9ydCB7IGpvaW4gfSBmcm9tICdub2RlOnBhdGgnO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBzZWFsaW5nIH0gZnJvbSAnLi4vLi4vc3RvcmFnZS9zZWFsaW5nLmpzJztcbmltcG9ydCB7IHR5cGUgQmVmb3JlLCByZWFkSm91cm5hbCB9IGZyb20gJy4uL2pvdXJuYWwvYmVmb3JlLmpzJztcbmltcG9ydCB7IHR5cGUgSm91cm5hbCwgam91cm5hbEZvbGRlciwgb3BlbkpvdXJuYWwgfSBmcm9tICcuLi9qb3VybmFsL2pvdXJuYWwuanMnO1xuaW1wb3J0IHR5cGUgeyBKb3VybmFsTGluZSwgUGFydCwgUnVuT3B0aW9ucyB9IGZyb20gJy4uL2pvdXJuYWwvbGluZXMuanMnO1xuaW1wb3J0IHsgdHlwZSBSZWNvcmRlciwgcmVjb3JkZXIgfSBmcm9tICcuLi9qb3VybmFsL3JlY29yZGVkLmpzJztcbmltcG9ydCB0eXBlIHsgVHJhaWxQbGFuIH0gZnJvbSAnLi4vc3RlcC1raW5kLmpzJztcbmltcG9ydCB0eXBlIHsgV29ya3NwYWNlIH0gZnJvbSAnLi4vd29ya3NwYWNlLmpzJztcblxuLyoqIFdoYXQgYSBydW4gaXMgZ29uZSBvbiB3aXRoIGJ5OiBhcyBpdCB3YXMgYXNrZWQgZm9yLiAqL1xuZXhwb3J0IGludGVyZmFjZSBSdW5PcmRlciB7XG4gIHJlYWRvbmx5IG5hbWVzOiByZWFkb25seSBzdHJpbmdbXTtcbiAgcmVhZG9ubHkgZW52aXJvbm1lbnQ6IHN0cmluZztcbiAgcmVhZG9ubHkgc2V0dGluZ3M6IFJlYWRvbmx5TWFwPHN0cmluZywgc3RyaW5nPjtcbiAgcmVhZG9ubHkgb3B0aW9uczogUnVuT3B0aW9ucztcbn1cblxuLyoqIFdobyB3b3JrcyBvbiBpdCwgc28gdGhhdCBubyB0d28gZG8uICovXG5leHBvcnQgaW50ZXJmYWNlIFdvcmtlciB7XG4gIHJlYWRvbmx5IHByb2Nlc3M6IG51bWJlcjtcbiAgLyoqIFdoZXRoZXIgdGhhdCBwcm9jZXNzIGlzIHN0aWxsIHRoZXJlLiAqL1xuICByZWFkb25seSBhbGl2ZTogKHByb2Nlc3M6IG51bWJlcikgPT4gYm9vbGVhbjtcbn1cblxuLyoqIFJlYWRzIHdoYXQgaXMga25vd24gb2YgYSBydW4uIEBwYXJhbSBob21lIHRoZSB1c2VyJ3Mgb3duIGZvbGRlciwgd2l0aCB0aGUga2V5IG9mIHdoYXQgaXMgc2VhbGVkIEB0aHJvd3MgUHJvYmxlbSAqL1xuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIGVhcmxpZXJSdW4oXG4gIGxvY2FsOiBzdHJpbmcsXG4gIGhvbWU6IHN0cmluZyxcbiAgcnVuOiBzdHJpbmcsXG4gIHJlZGFjdG9yOiBXb3Jrc3BhY2VbJ3JlZGFjdG9yJ10sXG4pOiBQcm9taXNlPHsgcmVhZG9ubHkgb3JkZXI6IFJ1bk9yZGVyOyByZWFkb25seSBiZWZvcmU6IEJlZm9yZSB9PiB7XG4gIGNvbnN0IHNlYWxzID0gYXdhaXQgc2VhbGluZyhob21lKTtcbiAgY29uc3QgYmVmb3JlID0gYXdhaXQgcmVhZEpvdXJuYWwoam91cm5hbEZvbGRlcihsb2NhbCksIHJ1biwgcmVjb3JkZXIoc2VhbHMsIHJlZGFjdG9yKSk7XG4gIGNvbnN0IHsgbmFtZXMsIGVudmlyb25tZW50LCBzZXR0aW5ncywgb3B0aW9ucyB9ID0gYmVmb3JlLmhlYWRlcjtcbiAgcmV0dXJuIHtcbiAgICBiZWZvcmUsXG4gICAgb3JkZXI6IHtcbiAgICAgIG5hbWVzLFxuICAgICAgZW52aXJvbm1lbnQsXG4gICAgICBzZXR0aW5nczogbmV3IE1hcChKU09OLnBhcnNlKHNlYWxzLm9wZW4oc2V0dGluZ3MpKSBhcyBbc3RyaW5nLCBzdHJpbmddW10pLFxuICAgICAgb3B0aW9ucyxcbiAgICB9LFxuICB9O1xufVxuXG4vKiogQHRocm93cyBQcm9ibGVtIHVzYWdlOiBhbm90aGVyIHByb2Nlc3MgaXMgYXQgaXQgKi9cbmV4cG9ydCBmdW5jdGlvbiBkZW1hbmRJZGxlKHsgcHJvY2VzcywgaGVhZGVyIH06IEJlZm9yZSwgeyBhbGl2ZSB9OiBXb3JrZXIpOiB2b2lkIHtcbiAgaWYgKCFhbGl2ZShwcm9jZXNzKSkgcmV0dXJuO1xuICB0aHJvdyBuZXcgUHJvYmxlbSgndXNhZ2UnLCB7XG4gICAgd2hhdDogYHJ1biAke2hlYWRlci5ydW59IGlzIHN0aWxsIHVuZGVyIHdheSwgaW4gcHJvY2VzcyAke3Byb2Nlc3N9YCxcbiAgICByZW1lZHk6ICd3YWl0IHVudGlsIGl0IGhhcyBlbmRlZCwgb3IgZW5kIGl0JyxcbiAgfSk7XG59XG5cbmNvbnN0IGRpZ2VzdE9mID0gKHBsYW5zOiByZWFkb25seSBUcmFpbFBsYW5bXSk6IHN0cmluZyA9PlxuICBjcmVhdGVIYXNoKCdzaGEyNTYnKVxuICAgIC51cGRhdGUocGxhbnMubWFwKCh7IHRleHQgfSkgPT4gdGV4dCkuam9pbignXFwwJykpXG4gICAgLmRpZ2VzdCgnaGV4Jyk7XG5cbi8qKlxuICogQHBhcmFtIHBsYW5zIHVuZGVmaW5lZCB3aGVyZSBub3RoaW5nIGlzIHdhbGtlZCBAcGFyYW0gYmVmb3JlIG9mIHRoZSBydW4gdGhhdCBpcyBnb25lIG9uIHdpdGhcbiAqIEB0aHJvd3MgUHJvYmxlbSB1c2FnZTogaXRzIHRyYWlscyBhcmUgbm90IHdoYXQgdGhleSB3ZXJlXG4gKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiBvcGVuUnVuKFxuICB3b3Jrc3BhY2U6IFdvcmtzcGFjZSxcbiAgaG9tZTogc3RyaW5nLFxuICBwbGFuczogcmVhZG9ubHkgVHJhaWxQbGFuW10gfCB1bmRlZmluZWQsXG4gIG9yZGVyOiBSdW5PcmRlcixcbiAgeyBwcm9jZXNzIH06IFdvcmtlcixcbiAgYmVmb3JlPzogQmVmb3JlLFxuKTogUHJvbWlzZTxKb3VybmFsPiB7XG4gIGNvbnN0IHsgY29sbGVjdGlvbiwgbG9nLCByZWRhY3RvciB9ID0gd29ya3NwYWNlO1xuICBjb25zdCBzZWFscyA9IGF3YWl0IHNlYWxpbmcoaG9tZSk7XG4gIGNvbnN0IHJlY29yZDogUmVjb3JkZXIgPSByZWNvcmRlcihzZWFscywgcmVkYWN0b3IpO1xuICBjb25zdCBhdCA9IG5ldyBEYXRlKCkudG9JU09TdHJpbmcoKTtcbiAgY29uc3QgZGlnZXN0ID0gcGxhbnMgJiYgZGlnZXN0T2YocGxhbnMpO1xuICBpZiAoYmVmb3JlKSB7XG4gICAgY29uc3QgeyBydW4gfSA9IGJlZm9yZS5oZWFkZXI7XG4gICAgaWYgKGRpZ2VzdCAhPT0gdW5kZWZpbmVkICYmIGJlZm9yZS5oZWFkZXIuZGlnZXN0ICE9PSBkaWdlc3QpIHtcbiAgICAgIHRocm93IG5ldyBQcm9ibGVtKCd1c2FnZScsIHtcbiAgICAgICAgd2hhdDogYHRoZSB0cmFpbHMgb2YgcnVuICR7cnVufSB3ZXJlIGNoYW5nZWQgc2luY2U6IGl0IGNhbm5vdCBiZSBnb25lIG9uIHdpdGhgLFxuICAgICAgICByZW1lZHk6IGBlY2hvLXRyYWlsIHJ1biAtLWZhaWxlZC1vZiAke3J1bn0gd2Fsa3Mgd2hhdCBmYWlsZWQgb2YgaXQsIGVjaG8tdHJhaWwgcnVuIC0tdW5kbyAke3J1bn0gdGFrZXMgYmFjayB3aGF0IGl0IG1hZGVgLFxuICAgICAgfSk7XG4gICAgfVxuICAgIGNvbnN0IGZpcnN0ID0geyBsaW5lOiAncmVzdW1lZCcsIHJ1bjogbG9nLnJ1biwgYXQsIHByb2Nlc3MgfSBhcyBjb25zdDtcbiAgICByZXR1cm4gb3BlbkpvdXJuYWwoeyBwYXRoOiBiZWZvcmUucGF0aCwgcnVuLCByZWNvcmRlcjogcmVjb3JkLCBmaXJzdCwgYmVmb3JlIH0pO1xuICB9XG4gIGNvbnN0IGZpcnN0OiBKb3VybmFsTGluZSA9IHtcbiAgICBsaW5lOiAncnVuJyxcbiAgICBydW46IGxvZy5ydW4sXG4gICAgYXQsXG4gICAgcHJvY2VzcyxcbiAgICBlbnZpcm9ubWVudDogb3JkZXIuZW52aXJvbm1lbnQsXG4gICAgbmFtZXM6IFsuLi5vcmRlci5uYW1lc10sXG4gICAgc2V0dGluZ3M6IHNlYWxzLnNlYWwoSlNPTi5zdHJpbmdpZnkoWy4uLm9yZGVyLnNldHRpbmdzXSkpLFxuICAgIG9wdGlvbnM6IG9yZGVyLm9wdGlvbnMsXG4gICAgZGlnZXN0OiBkaWdlc3QgPz8gJycsXG4gIH07XG4gIGNvbnN0IHBhdGggPSBqb2luKGpvdXJuYWxGb2xkZXIoY29sbGVjdGlvbi5sb2NhbCksIGAke2F0LnJlcGxhY2UoL1stOi5dL2csICcnKX0tJHtsb2cucnVufS5qc29ubGApO1xuICByZXR1cm4gb3BlbkpvdXJuYWwoeyBwYXRoLCBydW46IGxvZy5ydW4sIHJlY29yZGVyOiByZWNvcmQsIGZpcnN0LCBiZWZvcmU6IHVuZGVmaW5lZCB9KTtcbn1cblxuLyoqIFdoYXQgZmFpbGVkIG9mIGEgcnVuOiBvZiBwbGFucyB3aXRoIHJvd3MgdGhvc2UgdGhhdCBkaWQsIG9mIG90aGVycyB0aGUgd2hvbGUuICovXG5leHBvcnQgZnVuY3Rpb24gZmFpbGVkUGFydHMocGxhbnM6IHJlYWRvbmx5IFRyYWlsUGxhbltdLCB7IGZhaWxlZCwgd2Fsa3MgfTogQmVmb3JlKTogUGFydFtdIHtcbiAgLy8gQSBydW4gdGhhdCB3YXMgcmVwZWF0ZWQgd2Fsa2VkIGVhY2ggcGxhbiBzZXZlcmFsIHRpbWVzLlxuICBjb25zdCBpc09mID0gKHdhbGs6IG51bWJlciwgcGxhbjogbnVtYmVyKTogYm9vbGVhbiA9PiB3YWxrICUgcGxhbnMubGVuZ3RoID09PSBwbGFuO1xuICByZXR1cm4gcGxhbnMubWFwKCh7IHJvd3MgfSwgcGxhbik6IFBhcnQgPT4ge1xuICAgIGNvbnN0IG93biA9IFsuLi5uZXcgU2V0KGZhaWxlZC5maWx0ZXIoKHsgd2FsayB9KSA9PiBpc09mKHdhbGssIHBsYW4pKS5tYXAoKHsgcm93IH0pID0+IHJvdykpXTtcbiAgICBpZiAocm93cykgcmV0dXJuIG93bi5sZW5ndGggPT09IDAgPyAnbm9uZScgOiBvd247XG4gICAgcmV0dXJuIFsuLi53YWxrc10uc29tZSgoW3dhbGssIG9rXSkgPT4gIW9rICYmIGlzT2Yod2FsaywgcGxhbikpID8gJ2FsbCcgOiAnbm9uZSc7XG4gIH0pO1xufVxuIiwgIi8qKiBSZWFkaW5nIHRoZSBqb3VybmFsIG9mIGEgcnVuOiB3aGF0IGlzIGtub3duIG9mIGl0IGJ5IG5vdy4gKi9cbmltcG9ydCB7IHJlYWRkaXJTeW5jIH0gZnJvbSAnbm9kZTpmcyc7XG5pbXBvcnQgeyBqb2luIH0gZnJvbSAnbm9kZTpwYXRoJztcbmltcG9ydCB0eXBlIHsgQnJpZWZQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9icmllZi5qcyc7XG5pbXBvcnQgeyBuZWFyZXN0SGludCB9IGZyb20gJy4uLy4uL3Byb2JsZW0vbmVhcmVzdC5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IGpzb25MaW5lcyB9IGZyb20gJy4uLy4uL3N0b3JhZ2UvanNvbi1saW5lcy5qcyc7XG5pbXBvcnQgdHlwZSB7IFZhbHVlIH0gZnJvbSAnLi4vLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgdHlwZSB7IEtlcHROYW1lIH0gZnJvbSAnLi4vc3RlcC1raW5kLmpzJztcbmltcG9ydCB0eXBlIHsgQXJtZWQgfSBmcm9tICcuL2pvdXJuYWwuanMnO1xuaW1wb3J0IHsgdHlwZSBKb3VybmFsTGluZSwgam91cm5hbExpbmUgfSBmcm9tICcuL2xpbmVzLmpzJztcbmltcG9ydCB7IHByb2JsZW1Gcm9tLCB0eXBlIFJlY29yZGVyIH0gZnJvbSAnLi9yZWNvcmRlZC5qcyc7XG5cbmV4cG9ydCBpbnRlcmZhY2UgS25vd25TdGVwIHtcbiAgLyoqIGB1bmRlciB3YXlgOiBhIGNoYW5naW5nIGNhbGwgbGVmdCwgb3Igd2FzIGFib3V0IHRvLCBhbmQgbm90aGluZyBpcyBrbm93biBvZiBpdHMgYW5zd2VyLiAqL1xuICByZWFkb25seSBzdGF0ZTogJ2RvbmUnIHwgJ2ZhaWxlZCcgfCAndW5kZXIgd2F5JztcbiAgcmVhZG9ubHkga2VwdDogcmVhZG9ubHkgS2VwdE5hbWVbXTtcbiAgLyoqIFdoYXQgaXRzIGFuc3dlciBsZWZ0IGluIHRoZSBjb2x1bW5zIG9mIGEgdGFibGUuICovXG4gIHJlYWRvbmx5IGNlbGxzOiByZWFkb25seSBLZXB0TmFtZVtdO1xuICByZWFkb25seSBwcm9ibGVtOiBQcm9ibGVtIHwgdW5kZWZpbmVkO1xuICAvKiogT2Ygb25lIHRoYXQgaXMgdW5kZXIgd2F5OiBpdHMgbWV0aG9kIGFuZCBhZGRyZXNzLCBhbmQgaXRzIGlkZW1wb3RlbmN5IGtleS4gKi9cbiAgcmVhZG9ubHkgY2FsbDogc3RyaW5nO1xuICByZWFkb25seSBrZXk6IHN0cmluZyB8IHVuZGVmaW5lZDtcbn1cblxuZXhwb3J0IGludGVyZmFjZSBGYWlsZWRSb3cge1xuICByZWFkb25seSByb3c6IG51bWJlcjtcbiAgcmVhZG9ubHkgbGFiZWw6IHN0cmluZztcbiAgcmVhZG9ubHkgcHJvYmxlbTogQnJpZWZQcm9ibGVtO1xufVxuXG5leHBvcnQgaW50ZXJmYWNlIEJlZm9yZSB7XG4gIHJlYWRvbmx5IHBhdGg6IHN0cmluZztcbiAgcmVhZG9ubHkgaGVhZGVyOiBFeHRyYWN0PEpvdXJuYWxMaW5lLCB7IGxpbmU6ICdydW4nIH0+O1xuICAvKiogVGhlIHByb2Nlc3MgdGhhdCB3b3JrZWQgb24gaXQgbGFzdC4gKi9cbiAgcmVhZG9ubHkgcHJvY2VzczogbnVtYmVyO1xuICAvKiogT2Ygcm93cyB0aGF0IGRpZCBub3QgY29tZSB0byB0aGVpciBlbmQsIGJ5IHJvdyBhbmQgYnkgd2hlcmUgdGhleSBzdGFuZC4gKi9cbiAgcmVhZG9ubHkgc3RlcHM6IFJlYWRvbmx5TWFwPHN0cmluZywgUmVhZG9ubHlNYXA8c3RyaW5nLCBLbm93blN0ZXA+PjtcbiAgcmVhZG9ubHkgY2VsbHM6IFJlYWRvbmx5TWFwPHN0cmluZywgVmFsdWU+O1xuICAvKiogV2hldGhlciBlYWNoIHJvdyB0aGF0IGNhbWUgdG8gaXRzIGVuZCBkaWQgc28gd2VsbCwgYnkgd2Fsay4gKi9cbiAgcmVhZG9ubHkgcm93czogUmVhZG9ubHlNYXA8bnVtYmVyLCBSZWFkb25seU1hcDxudW1iZXIsIGJvb2xlYW4+PjtcbiAgcmVhZG9ubHkgZmFpbGVkOiByZWFkb25seSAoRmFpbGVkUm93ICYgeyByZWFkb25seSB3YWxrOiBudW1iZXIgfSlbXTtcbiAgLyoqIENoYW5naW5nIGNhbGxzIHdob3NlIGFuc3dlciB3YXMgbG9zdC4gKi9cbiAgcmVhZG9ubHkgZG91YnRzOiByZWFkb25seSB7IHJlYWRvbmx5IHdhbGs6IG51bWJlcjsgcmVhZG9ubHkgY2FsbDogc3RyaW5nIH1bXTtcbiAgLyoqIEtleXMgb2YgaXRlbXMgdGhhdCBvbmNlLWJ5IHBhc3NlcyBvdmVyLCBieSB0aGUgc3RlcCB0aGF0IGdvZXMgdGhyb3VnaCB0aGVtLiAqL1xuICByZWFkb25seSBoYW5kbGVkOiBSZWFkb25seU1hcDxzdHJpbmcsIFJlYWRvbmx5U2V0PHN0cmluZz4+O1xuICByZWFkb25seSB3YWxrczogUmVhZG9ubHlNYXA8bnVtYmVyLCBib29sZWFuPjtcbiAgLyoqIFdoYXQgY2FuIGJlIHRha2VuIGJhY2ssIHRoZSBvbGRlc3QgZmlyc3QuICovXG4gIHJlYWRvbmx5IGFybWVkOiBSZWFkb25seU1hcDxzdHJpbmcsIEFybWVkPjtcbiAgcmVhZG9ubHkgdW5kb25lOiBSZWFkb25seVNldDxzdHJpbmc+O1xufVxuXG4vKiogQHRocm93cyBQcm9ibGVtIGVjaG8tbm90LWZvdW5kLCBkYXRhLXNoYXBlICovXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gcmVhZEpvdXJuYWwoZm9sZGVyOiBzdHJpbmcsIHJ1bjogc3RyaW5nLCByZWNvcmRlcjogUmVjb3JkZXIpOiBQcm9taXNlPEJlZm9yZT4ge1xuICBjb25zdCBwYXRoID0gam9pbihmb2xkZXIsIGZpbGVPZihmb2xkZXIsIHJ1bikpO1xuICBjb25zdCBzdGVwcyA9IG5ldyBNYXA8c3RyaW5nLCBNYXA8c3RyaW5nLCBLbm93blN0ZXA+PigpO1xuICBjb25zdCBjZWxscyA9IG5ldyBNYXA8c3RyaW5nLCBWYWx1ZT4oKTtcbiAgY29uc3Qgcm93cyA9IG5ldyBNYXA8bnVtYmVyLCBNYXA8bnVtYmVyLCBib29sZWFuPj4oKTtcbiAgY29uc3QgZmFpbGVkOiAoRmFpbGVkUm93ICYgeyB3YWxrOiBudW1iZXIgfSlbXSA9IFtdO1xuICBjb25zdCBkb3VidHM6IHsgd2FsazogbnVtYmVyOyBjYWxsOiBzdHJpbmcgfVtdID0gW107XG4gIGNvbnN0IGhhbmRsZWQgPSBuZXcgTWFwPHN0cmluZywgU2V0PHN0cmluZz4+KCk7XG4gIGNvbnN0IHdhbGtzID0gbmV3IE1hcDxudW1iZXIsIGJvb2xlYW4+KCk7XG4gIGNvbnN0IGFybWVkID0gbmV3IE1hcDxzdHJpbmcsIEFybWVkPigpO1xuICBjb25zdCB1bmRvbmUgPSBuZXcgU2V0PHN0cmluZz4oKTtcbiAgbGV0IGhlYWRlcjogQmVmb3JlWydoZWFkZXInXSB8IHVuZGVmaW5lZDtcbiAgbGV0IHByb2Nlc3MgPSAwO1xuICBjb25zdCBzdGVwID0gKGF0OiBzdHJpbmcsIGtub3duOiBLbm93blN0ZXApOiB2b2lkID0+IHtcbiAgICBjb25zdCBncm91cCA9IGF0LnNwbGl0KCcvJywgMSlbMF0gYXMgc3RyaW5nO1xuICAgIGNvbnN0IG90aGVycyA9IHN0ZXBzLmdldChncm91cCk7XG4gICAgaWYgKG90aGVycykgb3RoZXJzLnNldChhdCwga25vd24pO1xuICAgIGVsc2Ugc3RlcHMuc2V0KGdyb3VwLCBuZXcgTWFwKFtbYXQsIGtub3duXV0pKTtcbiAgfTtcbiAgZm9yIGF3YWl0IChjb25zdCBsaW5lIG9mIGxpbmVzT2YocGF0aCkpIHtcbiAgICBzd2l0Y2ggKGxpbmUubGluZSkge1xuICAgICAgY2FzZSAncnVuJzpcbiAgICAgICAgaGVhZGVyID0gbGluZTtcbiAgICAgICAgcHJvY2VzcyA9IGxpbmUucHJvY2VzcztcbiAgICAgICAgYnJlYWs7XG4gICAgICBjYXNlICdyZXN1bWVkJzpcbiAgICAgICAgcHJvY2VzcyA9IGxpbmUucHJvY2VzcztcbiAgICAgICAgYnJlYWs7XG4gICAgICBjYXNlICdsZWF2aW5nJzpcbiAgICAgICAgc3RlcChsaW5lLmF0LCB7IHN0YXRlOiAndW5kZXIgd2F5Jywga2VwdDogW10sIGNlbGxzOiBbXSwgcHJvYmxlbTogdW5kZWZpbmVkLCBjYWxsOiBsaW5lLmNhbGwsIGtleTogbGluZS5rZXkgfSk7XG4gICAgICAgIGJyZWFrO1xuICAgICAgY2FzZSAnc3RlcCc6XG4gICAgICAgIHN0ZXAobGluZS5hdCwge1xuICAgICAgICAgIHN0YXRlOiBsaW5lLnByb2JsZW0gPyAnZmFpbGVkJyA6ICdkb25lJyxcbiAgICAgICAgICBrZXB0OiByZWNvcmRlci5yZWFkKGxpbmUua2VwdCA/PyBbXSksXG4gICAgICAgICAgY2VsbHM6IHJlY29yZGVyLnJlYWQobGluZS5jZWxscyA/PyBbXSksXG4gICAgICAgICAgcHJvYmxlbTogbGluZS5wcm9ibGVtICYmIHByb2JsZW1Gcm9tKGxpbmUucHJvYmxlbSksXG4gICAgICAgICAgY2FsbDogJycsXG4gICAgICAgICAga2V5OiB1bmRlZmluZWQsXG4gICAgICAgIH0pO1xuICAgICAgICBicmVhaztcbiAgICAgIGNhc2UgJ2NlbGxzJzpcbiAgICAgICAgY2VsbHMuc2V0KGxpbmUuYXQsIGxpbmUuY2VsbHMgYXMgVmFsdWUpO1xuICAgICAgICBicmVhaztcbiAgICAgIGNhc2UgJ3Jvdyc6IHtcbiAgICAgICAgY29uc3Qgb2sgPSBsaW5lLnByb2JsZW0gPT09IHVuZGVmaW5lZDtcbiAgICAgICAgY29uc3Qgb2ZXYWxrID0gcm93cy5nZXQobGluZS53YWxrKTtcbiAgICAgICAgaWYgKG9mV2Fsaykgb2ZXYWxrLnNldChsaW5lLnJvdywgb2spO1xuICAgICAgICBlbHNlIHJvd3Muc2V0KGxpbmUud2FsaywgbmV3IE1hcChbW2xpbmUucm93LCBva11dKSk7XG4gICAgICAgIGlmIChsaW5lLnByb2JsZW0pXG4gICAgICAgICAgZmFpbGVkLnB1c2goeyB3YWxrOiBsaW5lLndhbGssIHJvdzogbGluZS5yb3csIGxhYmVsOiBsaW5lLmxhYmVsID8/ICcnLCBwcm9ibGVtOiBsaW5lLnByb2JsZW0gfSk7XG4gICAgICAgIHN0ZXBzLmRlbGV0ZShgJHtsaW5lLndhbGt9LiR7bGluZS5yb3d9YCk7XG4gICAgICAgIGJyZWFrO1xuICAgICAgfVxuICAgICAgY2FzZSAnYXJtZWQnOiB7XG4gICAgICAgIGNvbnN0IHsgYXQsIHN0ZXA6IG5hbWUsIHJlcXVlc3QsIHJvdywgZ2l2ZW4sIG5hbWVzIH0gPSBsaW5lO1xuICAgICAgICBhcm1lZC5zZXQoYXQsIHsgYXQsIHN0ZXA6IG5hbWUsIHJlcXVlc3QsIHJvdywgZ2l2ZW46IHJlY29yZGVyLnJlYWQoZ2l2ZW4pLCBuYW1lczogcmVjb3JkZXIucmVhZChuYW1lcykgfSk7XG4gICAgICAgIGJyZWFrO1xuICAgICAgfVxuICAgICAgY2FzZSAndW5kb25lJzpcbiAgICAgICAgaWYgKGxpbmUuc3RhdGUgPT09ICdkb25lJyB8fCBsaW5lLnN0YXRlID09PSAnbm90IG5lZWRlZCcpIHVuZG9uZS5hZGQobGluZS5hdCk7XG4gICAgICAgIGJyZWFrO1xuICAgICAgY2FzZSAnaGFuZGxlZCc6IHtcbiAgICAgICAgY29uc3Qga2V5cyA9IGhhbmRsZWQuZ2V0KGxpbmUud2hlcmUpO1xuICAgICAgICBpZiAoa2V5cykga2V5cy5hZGQobGluZS5rZXkpO1xuICAgICAgICBlbHNlIGhhbmRsZWQuc2V0KGxpbmUud2hlcmUsIG5ldyBTZXQoW2xpbmUua2V5XSkpO1xuICAgICAgICBicmVhaztcbiAgICAgIH1cbiAgICAgIGNhc2UgJ2RvdWJ0JzpcbiAgICAgICAgZG91YnRzLnB1c2goeyB3YWxrOiBsaW5lLndhbGssIGNhbGw6IGxpbmUuY2FsbCB9KTtcbiAgICAgICAgYnJlYWs7XG4gICAgICBjYXNlICd3YWxrJzpcbiAgICAgICAgd2Fsa3Muc2V0KGxpbmUud2FsaywgbGluZS5vayk7XG4gICAgfVxuICB9XG4gIGlmICghaGVhZGVyKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ2RhdGEtc2hhcGUnLCB7XG4gICAgICB3aGF0OiBgdGhlIGpvdXJuYWwgb2YgcnVuICR7cnVufSBoYXMgbm8gYmVnaW5uaW5nYCxcbiAgICAgIHdoZXJlOiB7IGZpbGU6IHBhdGggfSxcbiAgICAgIHJlbWVkeTogJ3RoZSBydW4gd2FzIGtpbGxlZCBiZWZvcmUgaXRzIGZpcnN0IHN0ZXA6IHJ1biBpdCBhZ2FpbicsXG4gICAgfSk7XG4gIH1cbiAgcmV0dXJuIHsgcGF0aCwgaGVhZGVyLCBwcm9jZXNzLCBzdGVwcywgY2VsbHMsIHJvd3MsIGZhaWxlZCwgZG91YnRzLCBoYW5kbGVkLCB3YWxrcywgYXJtZWQsIHVuZG9uZSB9O1xufVxuXG4vKiogVGhlIG5ld2VzdCBmaXJzdC4gKi9cbmZ1bmN0aW9uIHJlY29yZGVkSm91cm5hbHMoZm9sZGVyOiBzdHJpbmcpOiB7IHJlYWRvbmx5IHJ1bjogc3RyaW5nOyByZWFkb25seSBmaWxlOiBzdHJpbmcgfVtdIHtcbiAgbGV0IGZpbGVzOiBzdHJpbmdbXTtcbiAgdHJ5IHtcbiAgICBmaWxlcyA9IHJlYWRkaXJTeW5jKGZvbGRlcik7XG4gIH0gY2F0Y2gge1xuICAgIHJldHVybiBbXTtcbiAgfVxuICByZXR1cm4gZmlsZXNcbiAgICAuZmlsdGVyKChmaWxlKSA9PiBmaWxlLmVuZHNXaXRoKCcuanNvbmwnKSlcbiAgICAuc29ydCgpXG4gICAgLnJldmVyc2UoKVxuICAgIC5tYXAoKGZpbGUpID0+ICh7IGZpbGUsIHJ1bjogZmlsZS5yZXBsYWNlKC9eLiotfFxcLmpzb25sJC9nLCAnJykgfSkpO1xufVxuXG5mdW5jdGlvbiBmaWxlT2YoZm9sZGVyOiBzdHJpbmcsIHJ1bjogc3RyaW5nKTogc3RyaW5nIHtcbiAgY29uc3QgYWxsID0gcmVjb3JkZWRKb3VybmFscyhmb2xkZXIpO1xuICBjb25zdCBmb3VuZCA9IHJ1biA9PT0gJ2xhc3QnID8gYWxsWzBdIDogYWxsLmZpbmQoKG9uZSkgPT4gb25lLnJ1biA9PT0gcnVuKTtcbiAgaWYgKGZvdW5kKSByZXR1cm4gZm91bmQuZmlsZTtcbiAgdGhyb3cgbmV3IFByb2JsZW0oJ2VjaG8tbm90LWZvdW5kJywge1xuICAgIHdoYXQ6IHJ1biA9PT0gJ2xhc3QnID8gJ25vIHJ1biBpcyByZWNvcmRlZCB5ZXQnIDogYHRoZXJlIGlzIG5vIHJ1biAke3J1bn1gLFxuICAgIHJlbWVkeTpcbiAgICAgIGFsbC5sZW5ndGggPT09IDBcbiAgICAgICAgPyAnZWNoby10cmFpbCBydW4gcmVjb3JkcyB3aGF0IGl0IHdhbGtzJ1xuICAgICAgICA6IG5lYXJlc3RIaW50KFxuICAgICAgICAgICAgcnVuLFxuICAgICAgICAgICAgYWxsLnNsaWNlKDAsIDIwKS5tYXAoKG9uZSkgPT4gb25lLnJ1biksXG4gICAgICAgICAgKSxcbiAgICBkYXRhOiB7IHJ1biB9LFxuICB9KTtcbn1cblxuYXN5bmMgZnVuY3Rpb24qIGxpbmVzT2YocGF0aDogc3RyaW5nKTogQXN5bmNHZW5lcmF0b3I8Sm91cm5hbExpbmU+IHtcbiAgZm9yIGF3YWl0IChjb25zdCBsaW5lIG9mIGpzb25MaW5lcyhwYXRoKSkge1xuICAgIGNvbnN0IHJlc3VsdCA9IGpvdXJuYWxMaW5lLnNhZmVQYXJzZShsaW5lKTtcbiAgICBpZiAocmVzdWx0LnN1Y2Nlc3MpIHlpZWxkIHJlc3VsdC5kYXRhO1xuICB9XG59XG4iLCAiLyoqIFRoZSBsaW5lcyBvZiBhIHJ1bidzIGpvdXJuYWw6IG9uZSBKU09OIG9iamVjdCBlYWNoLCBhcHBlbmRlZCBhcyBpdCBoYXBwZW5zLiAqL1xuaW1wb3J0ICogYXMgeiBmcm9tICd6b2QvbWluaSc7XG5pbXBvcnQgeyBicmllZlByb2JsZW0gfSBmcm9tICcuLi8uLi9wcm9ibGVtL2JyaWVmLmpzJztcblxuLyoqIFdoYXQgb2YgZWFjaCBwbGFuIGlzIHdhbGtlZDogYWxsIG9mIGl0LCBub25lIG9mIGl0LCBvciBvbmx5IHRoZXNlIHJvd3MuICovXG5jb25zdCBwYXJ0ID0gei51bmlvbihbei5saXRlcmFsKCdhbGwnKSwgei5saXRlcmFsKCdub25lJyksIHouYXJyYXkoei5udW1iZXIoKSldKTtcbmV4cG9ydCB0eXBlIFBhcnQgPSB6LmluZmVyPHR5cGVvZiBwYXJ0PjtcblxuY29uc3QgcnVuT3B0aW9ucyA9IHouc3RyaWN0T2JqZWN0KHtcbiAgcm93czogei5vcHRpb25hbCh6LnN0cmluZygpKSxcbiAgYXRPbmNlOiB6Lm9wdGlvbmFsKHoubnVtYmVyKCkpLFxuICAvKiogSG93IG9mdGVuIGFsbCBpcyB3YWxrZWQ7IG5vdGhpbmcgZm9yIGFzIGxvbmcgYXMgbm9ib2R5IGVuZHMgaXQuICovXG4gIHJlcGVhdDogei5vcHRpb25hbCh6Lm51bWJlcigpKSxcbiAgLyoqIE1pbGxpc2Vjb25kcyBmcm9tIG9uZSBiZWdpbm5pbmcgdG8gdGhlIG5leHQuICovXG4gIGV2ZXJ5OiB6Lm51bWJlcigpLFxuICB1bnRpbDogei5vcHRpb25hbCh6LmVudW0oWydvaycsICdmYWlsZWQnXSkpLFxuICAvKiogQnkgcGxhbjsgYWxsIG9mIGV2ZXJ5IHBsYW4gd2hlcmUgbm90aGluZyBpcyBzYWlkLiAqL1xuICBwYXJ0czogei5vcHRpb25hbCh6LmFycmF5KHBhcnQpKSxcbn0pO1xuZXhwb3J0IHR5cGUgUnVuT3B0aW9ucyA9IHouaW5mZXI8dHlwZW9mIHJ1bk9wdGlvbnM+O1xuXG4vKiogVmFsdWVzIGJ5IG5hbWU6IGluIHRoZSBvcGVuLCBvciwgd2hlcmUgdGhleSBob2xkIGFueXRoaW5nIHNlY3JldCwgc2VhbGVkIHdpdGggdGhlIHVzZXIncyBrZXkuICovXG5jb25zdCBrZXB0ID0gei5hcnJheShcbiAgei5zdHJpY3RPYmplY3Qoe1xuICAgIG5hbWU6IHouc3RyaW5nKCksXG4gICAgb3JpZ2luOiB6LnN0cmluZygpLFxuICAgIHZhbHVlOiB6Lm9wdGlvbmFsKHouYW55KCkpLFxuICAgIHNlYWxlZDogei5vcHRpb25hbCh6LnN0cmluZygpKSxcbiAgICAvKiogSXQgaXMga25vd24gdG8gYmUgc2VjcmV0IGJ5IGl0cyBkZWNsYXJhdGlvbiwgYW5kIG5vdCBvbmx5IGJ5IHdoYXQgaXQgaG9sZHMuICovXG4gICAgc2VjcmV0OiB6Lm9wdGlvbmFsKHouYm9vbGVhbigpKSxcbiAgfSksXG4pO1xuZXhwb3J0IHR5cGUgUmVjb3JkZWROYW1lcyA9IHouaW5mZXI8dHlwZW9mIGtlcHQ+O1xuXG5jb25zdCBhdCA9IHouc3RyaW5nKCk7XG5jb25zdCB1bmRvU3RhdGVzID0gei5lbnVtKFsnZG9uZScsICdmYWlsZWQnLCAnbm90IG5lZWRlZCcsICdpbXBvc3NpYmxlJ10pO1xuXG5leHBvcnQgY29uc3Qgam91cm5hbExpbmUgPSB6LmRpc2NyaW1pbmF0ZWRVbmlvbignbGluZScsIFtcbiAgLyoqIFRoZSBmaXJzdDogd2hhdCB3YXMgYXNrZWQgZm9yLiAqL1xuICB6LnN0cmljdE9iamVjdCh7XG4gICAgbGluZTogei5saXRlcmFsKCdydW4nKSxcbiAgICBydW46IHouc3RyaW5nKCksXG4gICAgYXQ6IHouc3RyaW5nKCksXG4gICAgLyoqIE9mIHRoZSBwcm9jZXNzLCB3aGljaCBtYXkgc3RpbGwgYmUgYXQgaXQuICovXG4gICAgcHJvY2Vzczogei5udW1iZXIoKSxcbiAgICBlbnZpcm9ubWVudDogei5zdHJpbmcoKSxcbiAgICBuYW1lczogei5hcnJheSh6LnN0cmluZygpKSxcbiAgICAvKiogQnkgYC0tc2V0YCwgc2VhbGVkLiAqL1xuICAgIHNldHRpbmdzOiB6LnN0cmluZygpLFxuICAgIG9wdGlvbnM6IHJ1bk9wdGlvbnMsXG4gICAgLyoqIFNIQS0yNTYgb2YgdGhlIHRyYWlscyB0aGF0IGFyZSB3YWxrZWQuICovXG4gICAgZGlnZXN0OiB6LnN0cmluZygpLFxuICB9KSxcbiAgei5zdHJpY3RPYmplY3QoeyBsaW5lOiB6LmxpdGVyYWwoJ3Jlc3VtZWQnKSwgcnVuOiB6LnN0cmluZygpLCBhdDogei5zdHJpbmcoKSwgcHJvY2Vzczogei5udW1iZXIoKSB9KSxcbiAgLyoqIEEgY2FsbCB0aGF0IGNoYW5nZXMgc29tZXRoaW5nIGlzIGFib3V0IHRvIGxlYXZlLiAqL1xuICB6LnN0cmljdE9iamVjdCh7XG4gICAgbGluZTogei5saXRlcmFsKCdsZWF2aW5nJyksXG4gICAgYXQsXG4gICAgcm93OiB6Lm9wdGlvbmFsKHoubnVtYmVyKCkpLFxuICAgIGNhbGw6IHouc3RyaW5nKCksXG4gICAga2V5OiB6Lm9wdGlvbmFsKHouc3RyaW5nKCkpLFxuICB9KSxcbiAgei5zdHJpY3RPYmplY3Qoe1xuICAgIGxpbmU6IHoubGl0ZXJhbCgnc3RlcCcpLFxuICAgIGF0LFxuICAgIGVjaG86IHoub3B0aW9uYWwoei5zdHJpbmcoKSksXG4gICAga2VwdDogei5vcHRpb25hbChrZXB0KSxcbiAgICAvKiogV2hhdCBpdHMgYW5zd2VyIGxlYXZlcyBpbiB0aGUgY29sdW1ucyBvZiBhIHRhYmxlLiAqL1xuICAgIGNlbGxzOiB6Lm9wdGlvbmFsKGtlcHQpLFxuICAgIHByb2JsZW06IHoub3B0aW9uYWwoYnJpZWZQcm9ibGVtKSxcbiAgfSksXG4gIC8qKiBXaGF0IGEgcm93IGxlYXZlcyBpbiBpdHMgdGFibGUuICovXG4gIHouc3RyaWN0T2JqZWN0KHsgbGluZTogei5saXRlcmFsKCdjZWxscycpLCBhdCwgY2VsbHM6IHouYW55KCkgfSksXG4gIHouc3RyaWN0T2JqZWN0KHtcbiAgICBsaW5lOiB6LmxpdGVyYWwoJ3JvdycpLFxuICAgIC8qKiBXaGljaCBvZiB0aGUgd2Fsa3Mgb2YgdGhlIGNvbW1hbmQuICovXG4gICAgd2Fsazogei5udW1iZXIoKSxcbiAgICByb3c6IHoubnVtYmVyKCksXG4gICAgbGFiZWw6IHoub3B0aW9uYWwoei5zdHJpbmcoKSksXG4gICAgcHJvYmxlbTogei5vcHRpb25hbChicmllZlByb2JsZW0pLFxuICB9KSxcbiAgei5zdHJpY3RPYmplY3Qoe1xuICAgIGxpbmU6IHoubGl0ZXJhbCgnYXJtZWQnKSxcbiAgICBhdCxcbiAgICBzdGVwOiB6LnN0cmluZygpLFxuICAgIHJlcXVlc3Q6IHouc3RyaW5nKCksXG4gICAgcm93OiB6Lm9wdGlvbmFsKHoubnVtYmVyKCkpLFxuICAgIGdpdmVuOiBrZXB0LFxuICAgIC8qKiBOYW1lcyB0aGF0IHRoZSBlbnZpcm9ubWVudCBtYXkgd2FudCwgc3VjaCBhcyB0aG9zZSBvZiB0aGUgcm93LiAqL1xuICAgIG5hbWVzOiBrZXB0LFxuICB9KSxcbiAgei5zdHJpY3RPYmplY3QoeyBsaW5lOiB6LmxpdGVyYWwoJ3VuZG9uZScpLCBhdCwgc3RhdGU6IHVuZG9TdGF0ZXMsIHByb2JsZW06IHoub3B0aW9uYWwoYnJpZWZQcm9ibGVtKSB9KSxcbiAgLyoqIEFuIGl0ZW0gdGhhdCBvbmNlLWJ5IHBhc3NlcyBvdmVyIGZyb20gbm93IG9uLiAqL1xuICB6LnN0cmljdE9iamVjdCh7IGxpbmU6IHoubGl0ZXJhbCgnaGFuZGxlZCcpLCB3aGVyZTogei5zdHJpbmcoKSwga2V5OiB6LnN0cmluZygpIH0pLFxuICB6LnN0cmljdE9iamVjdCh7IGxpbmU6IHoubGl0ZXJhbCgnZG91YnQnKSwgd2Fsazogei5udW1iZXIoKSwgY2FsbDogei5zdHJpbmcoKSB9KSxcbiAgei5zdHJpY3RPYmplY3QoeyBsaW5lOiB6LmxpdGVyYWwoJ3dhbGsnKSwgd2Fsazogei5udW1iZXIoKSwgb2s6IHouYm9vbGVhbigpIH0pLFxuXSk7XG5leHBvcnQgdHlwZSBKb3VybmFsTGluZSA9IHouaW5mZXI8dHlwZW9mIGpvdXJuYWxMaW5lPjtcbiIsICIvKiogU2Vzc2lvbnMgYXJlIGNsb3NlZCBieSB0aGUgY29tbWFuZCB0aGF0IG9wZW5lZCB0aGVtLiAqL1xuaW1wb3J0IHsgYXNQcm9ibGVtIH0gZnJvbSAnLi4vcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB0eXBlIHsgV2Fsa0V2ZW50IH0gZnJvbSAnLi9ldmVudHMuanMnO1xuaW1wb3J0IHR5cGUgeyBXb3Jrc3BhY2UgfSBmcm9tICcuL3dvcmtzcGFjZS5qcyc7XG5cbi8qKiBUaGUgbmV3ZXN0IGZpcnN0LiBXaGF0IGdvZXMgd3JvbmcgaXMgdG9sZCwgYW5kIGVuZHMgbm90aGluZy4gKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiBjbG9zZVNlc3Npb25zKHdvcmtzcGFjZTogV29ya3NwYWNlLCByZXBvcnQ6IChldmVudDogV2Fsa0V2ZW50KSA9PiB2b2lkKTogUHJvbWlzZTx2b2lkPiB7XG4gIGZvciAoY29uc3QgbmFtZSBvZiBbLi4ud29ya3NwYWNlLnNlc3Npb25zLm9wZW5lZF0pIHtcbiAgICB0cnkge1xuICAgICAgYXdhaXQgd29ya3NwYWNlLnNlc3Npb25zLmNsb3NlKG5hbWUpO1xuICAgICAgcmVwb3J0KHsgZXZlbnQ6ICdzZXNzaW9uLWNsb3NlZCcsIG5hbWUsIHByb2JsZW06IHVuZGVmaW5lZCB9KTtcbiAgICB9IGNhdGNoIChlcnJvcikge1xuICAgICAgcmVwb3J0KHsgZXZlbnQ6ICdzZXNzaW9uLWNsb3NlZCcsIG5hbWUsIHByb2JsZW06IGFzUHJvYmxlbShlcnJvcikgfSk7XG4gICAgfVxuICB9XG59XG4iLCAiLyoqIFVuZG8gcGFydHM6IGFybWVkIHdoZW4gdGhlaXIgc3RlcCBpcyBzZW50LCBydW4gbmV3ZXN0IGZpcnN0IG9uY2UgdGhlIHN0ZXBzIGhhdmUgY29tZSB0byB0aGVpciBlbmQuICovXG5pbXBvcnQgeyBhc1Byb2JsZW0sIHR5cGUgUHJvYmxlbSB9IGZyb20gJy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgdHlwZSB7IFVuZG9TdGF0ZSB9IGZyb20gJy4vZXZlbnRzLmpzJztcbmltcG9ydCB0eXBlIHsgQXJtZWRVbmRvLCBTdGVwUmVzdWx0LCBUcmFpbFBsYW4sIFdhbGsgfSBmcm9tICcuL3N0ZXAta2luZC5qcyc7XG5pbXBvcnQgeyB3YWxrU3RlcHMgfSBmcm9tICcuL3dhbGstc3RlcHMuanMnO1xuXG4vKiogQHBhcmFtIHNpZ25hbCBlbmRzIGl0IGVhcmx5OiBhIHNlY29uZCBDdHJsLUMgKi9cbmFzeW5jIGZ1bmN0aW9uIHVuZG9BbGwod2FsazogV2Fsaywgc2lnbmFsOiBBYm9ydFNpZ25hbCB8IHVuZGVmaW5lZCk6IFByb21pc2U8dm9pZD4ge1xuICBmb3IgKGNvbnN0IGFybWVkIG9mIHdhbGsudW5kby5yZXZlcnNlKCkpIGF3YWl0IHVuZG9PbmUoYXJtZWQsIHdhbGssIHNpZ25hbCk7XG59XG5cbmFzeW5jIGZ1bmN0aW9uIHVuZG9PbmUoYXJtZWQ6IEFybWVkVW5kbywgd2FsazogV2Fsaywgc2lnbmFsOiBBYm9ydFNpZ25hbCB8IHVuZGVmaW5lZCk6IFByb21pc2U8dm9pZD4ge1xuICBjb25zdCB7IHN0ZXAsIGxhYmVsLCBhdCwgcnVuIH0gPSBhcm1lZDtcbiAgY29uc3QgeyBzdGF0ZSwgc2VudCwgcHJvYmxlbSB9ID0gYXdhaXQgdW5kb1N0YXRlKHJ1biwgc2lnbmFsKTtcbiAgd2Fsay5yZXBvcnQoeyBldmVudDogJ3VuZG8nLCBsYWJlbCwgc3RlcCwgc3RhdGUsIHJvdzogd2Fsay5yb3csIHNlbnQsIHByb2JsZW0gfSk7XG4gIHdhbGsuam91cm5hbD8udW5kb25lKGF0LCBzdGF0ZSwgcHJvYmxlbSk7XG59XG5cbmV4cG9ydCBpbnRlcmZhY2UgVW5kb25lIHtcbiAgcmVhZG9ubHkgc3RhdGU6IFVuZG9TdGF0ZTtcbiAgcmVhZG9ubHkgc2VudDogU3RlcFJlc3VsdFsnc2VudCddO1xuICByZWFkb25seSBwcm9ibGVtOiBTdGVwUmVzdWx0Wydwcm9ibGVtcyddW251bWJlcl0gfCB1bmRlZmluZWQ7XG59XG5cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiB1bmRvU3RhdGUocnVuOiBBcm1lZFVuZG9bJ3J1biddLCBzaWduYWw6IEFib3J0U2lnbmFsIHwgdW5kZWZpbmVkKTogUHJvbWlzZTxVbmRvbmU+IHtcbiAgdHJ5IHtcbiAgICBjb25zdCB7IHNlbnQsIHByb2JsZW1zIH0gPSBhd2FpdCBydW4oc2lnbmFsKTtcbiAgICBjb25zdCBbcHJvYmxlbV0gPSBwcm9ibGVtcztcbiAgICAvLyBXaGF0IGlzIGdvbmUgYWxyZWFkeSBuZWVkIG5vdCBiZSB0YWtlbiBiYWNrLlxuICAgIGNvbnN0IGdvbmUgPSBzZW50Py5vdXRjb21lLnJlY2VpdmVkPy5zdGF0dXMgPT09IDQwNCB8fCBzZW50Py5vdXRjb21lLnJlY2VpdmVkPy5zdGF0dXMgPT09IDQxMDtcbiAgICByZXR1cm4geyBzdGF0ZTogcHJvYmxlbSA/IChnb25lID8gJ25vdCBuZWVkZWQnIDogJ2ZhaWxlZCcpIDogJ2RvbmUnLCBzZW50LCBwcm9ibGVtOiBnb25lID8gdW5kZWZpbmVkIDogcHJvYmxlbSB9O1xuICB9IGNhdGNoIChlcnJvcikge1xuICAgIGNvbnN0IHByb2JsZW0gPSBhc1Byb2JsZW0oZXJyb3IpO1xuICAgIGNvbnN0IG1pc3NpbmcgPSBwcm9ibGVtLmNvZGUgPT09ICdpbnB1dC1taXNzaW5nJyB8fCBwcm9ibGVtLmNvZGUgPT09ICd1bmtub3duLW5hbWUnO1xuICAgIHJldHVybiB7IHN0YXRlOiBtaXNzaW5nID8gJ2ltcG9zc2libGUnIDogJ2ZhaWxlZCcsIHNlbnQ6IHVuZGVmaW5lZCwgcHJvYmxlbSB9O1xuICB9XG59XG5cbi8qKiBXaGF0IGEgd2FsayBjYW1lIHRvLCBhbmQgd2hldGhlciBhbnl0aGluZyBvZiBpdCB3YXMgdGFrZW4gYmFjay4gKi9cbmV4cG9ydCBpbnRlcmZhY2UgV2Fsa2VkIHtcbiAgcmVhZG9ubHkgcHJvYmxlbTogUHJvYmxlbSB8IHVuZGVmaW5lZDtcbiAgcmVhZG9ubHkgdGFrZW5CYWNrOiBib29sZWFuO1xufVxuXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gd2Fsa1dpdGhVbmRvKHBsYW46IFRyYWlsUGxhbiwgd2FsazogV2FsaywgdW5kb1NpZ25hbDogQWJvcnRTaWduYWwgfCB1bmRlZmluZWQpOiBQcm9taXNlPFdhbGtlZD4ge1xuICBjb25zdCBwcm9ibGVtID0gYXdhaXQgd2Fsa1N0ZXBzKHBsYW4uc3RlcHMsIHdhbGspO1xuICBjb25zdCBkdWUgPSBwbGFuLnVuZG8gPT09ICdhbHdheXMnIHx8IChwbGFuLnVuZG8gPT09ICdmYWlsdXJlJyAmJiBwcm9ibGVtICE9PSB1bmRlZmluZWQpO1xuICAvLyBXaGVyZSBub3RoaW5nIHdhcyBzZW50LCB0aGVyZSBpcyBub3RoaW5nIHRvIHRha2UgYmFjay5cbiAgY29uc3QgdGFrZW5CYWNrID0gZHVlICYmIHdhbGsudW5kby5sZW5ndGggPiAwICYmICF3YWxrLndvcmtzcGFjZS5kcnlSdW47XG4gIGlmICh0YWtlbkJhY2spIGF3YWl0IHVuZG9BbGwod2FsaywgdW5kb1NpZ25hbCk7XG4gIHJldHVybiB7IHByb2JsZW0sIHRha2VuQmFjayB9O1xufVxuIiwgIi8qKiBgcnVuIC0tdW5kbyBSVU5gOiB0YWtlcyBiYWNrIHdoYXQgYSBydW4gbWFkZSBhbmQgZGlkIG5vdCB0YWtlIGJhY2sgaXRzZWxmLCB0aGUgbmV3ZXN0IGZpcnN0LiAqL1xuaW1wb3J0IHR5cGUgeyBOYW1lZCwgTmFtZXMgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL25hbWVzLmpzJztcbmltcG9ydCB7IGNsb3NlU2Vzc2lvbnMgfSBmcm9tICcuLi9jbG9zaW5nLmpzJztcbmltcG9ydCB0eXBlIHsgVW5kb0V2ZW50LCBXYWxrRXZlbnQgfSBmcm9tICcuLi9ldmVudHMuanMnO1xuaW1wb3J0IHR5cGUgeyBCZWZvcmUgfSBmcm9tICcuLi9qb3VybmFsL2JlZm9yZS5qcyc7XG5pbXBvcnQgdHlwZSB7IEFybWVkLCBKb3VybmFsIH0gZnJvbSAnLi4vam91cm5hbC9qb3VybmFsLmpzJztcbmltcG9ydCB7IHNlbmRSZXF1ZXN0IH0gZnJvbSAnLi4vc2VuZC5qcyc7XG5pbXBvcnQgdHlwZSB7IEtlcHROYW1lIH0gZnJvbSAnLi4vc3RlcC1raW5kLmpzJztcbmltcG9ydCB7IHVuZG9TdGF0ZSB9IGZyb20gJy4uL3VuZG9pbmcuanMnO1xuaW1wb3J0IHR5cGUgeyBXb3Jrc3BhY2UgfSBmcm9tICcuLi93b3Jrc3BhY2UuanMnO1xuXG5leHBvcnQgaW50ZXJmYWNlIFVuZG9TdW1tYXJ5IHtcbiAgcmVhZG9ubHkgcnVuOiBzdHJpbmc7XG4gIHJlYWRvbmx5IHVuZG9uZTogbnVtYmVyO1xuICAvKiogU3RpbGwgdGhlcmUsIGFzIGZhciBhcyBpcyBrbm93bi4gKi9cbiAgcmVhZG9ubHkgbm90VW5kb25lOiBudW1iZXI7XG59XG5cbi8qKiBXaGF0IGlzIGxlZnQgdG8gYmUgdGFrZW4gYmFjaywgdGhlIG5ld2VzdCBmaXJzdC4gKi9cbmV4cG9ydCBjb25zdCBsZWZ0T2YgPSAoeyBhcm1lZCwgdW5kb25lIH06IEJlZm9yZSk6IHJlYWRvbmx5IEFybWVkW10gPT5cbiAgWy4uLmFybWVkLnZhbHVlcygpXS5maWx0ZXIoKHsgYXQgfSkgPT4gIXVuZG9uZS5oYXMoYXQpKS5yZXZlcnNlKCk7XG5cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiB1bmRvUnVuKFxuICB3b3Jrc3BhY2U6IFdvcmtzcGFjZSxcbiAgYmVmb3JlOiBCZWZvcmUsXG4gIGpvdXJuYWw6IEpvdXJuYWwsXG4gIHJlcG9ydDogKGV2ZW50OiBXYWxrRXZlbnQpID0+IHZvaWQsXG4gIHNpZ25hbDogQWJvcnRTaWduYWwsXG4pOiBQcm9taXNlPFVuZG9TdW1tYXJ5PiB7XG4gIGxldCBbdW5kb25lLCBub3RVbmRvbmVdID0gWzAsIDBdO1xuICB3b3Jrc3BhY2Uub25TZXNzaW9uT3BlbmVkID0gKG5hbWUpID0+IHJlcG9ydCh7IGV2ZW50OiAnc2Vzc2lvbi1vcGVuZWQnLCBuYW1lLCBwcm9ibGVtOiB1bmRlZmluZWQgfSk7XG4gIGZvciAoY29uc3QgYXJtZWQgb2YgbGVmdE9mKGJlZm9yZSkpIHtcbiAgICBpZiAoc2lnbmFsLmFib3J0ZWQpIGJyZWFrO1xuICAgIGNvbnN0IGV2ZW50ID0gYXdhaXQgdW5kb09uZSh3b3Jrc3BhY2UsIGFybWVkLCBzaWduYWwpO1xuICAgIGpvdXJuYWwudW5kb25lKGFybWVkLmF0LCBldmVudC5zdGF0ZSwgZXZlbnQucHJvYmxlbSk7XG4gICAgcmVwb3J0KGV2ZW50KTtcbiAgICBpZiAoZXZlbnQuc3RhdGUgPT09ICdkb25lJyB8fCBldmVudC5zdGF0ZSA9PT0gJ25vdCBuZWVkZWQnKSB1bmRvbmUgKz0gMTtcbiAgICBlbHNlIG5vdFVuZG9uZSArPSAxO1xuICB9XG4gIGF3YWl0IGNsb3NlU2Vzc2lvbnMod29ya3NwYWNlLCByZXBvcnQpO1xuICB3b3Jrc3BhY2Uub25TZXNzaW9uT3BlbmVkID0gdW5kZWZpbmVkO1xuICByZXR1cm4geyBydW46IGJlZm9yZS5oZWFkZXIucnVuLCB1bmRvbmUsIG5vdFVuZG9uZSB9O1xufVxuXG5hc3luYyBmdW5jdGlvbiB1bmRvT25lKHdvcmtzcGFjZTogV29ya3NwYWNlLCBhcm1lZDogQXJtZWQsIHNpZ25hbDogQWJvcnRTaWduYWwpOiBQcm9taXNlPFVuZG9FdmVudD4ge1xuICBjb25zdCB7IHN0ZXAsIHJlcXVlc3QsIHJvdywgZ2l2ZW4sIG5hbWVzIH0gPSBhcm1lZDtcbiAgY29uc3QgdmFsdWVzID0gbmV3IE1hcChnaXZlbi5tYXAoKG9uZSkgPT4gW29uZS5uYW1lLCBvbmVdKSk7XG4gIGNvbnN0IHsgc3RhdGUsIHNlbnQsIHByb2JsZW0gfSA9IGF3YWl0IHVuZG9TdGF0ZShhc3luYyAoZW5kaW5nKSA9PiB7XG4gICAgY29uc3QgcHJlcGFyZWQgPSBhd2FpdCB3b3Jrc3BhY2UucHJlcGFyZShyZXF1ZXN0KTtcbiAgICBjb25zdCBkb25lID0gYXdhaXQgc2VuZFJlcXVlc3Qod29ya3NwYWNlLCBwcmVwYXJlZCwge1xuICAgICAgZ2l2ZW46IChpbnB1dCk6IE5hbWVkIHwgdW5kZWZpbmVkID0+IHZhbHVlcy5nZXQoaW5wdXQpLFxuICAgICAgY2FsbGVyOiBuYW1lc0Zyb21LZXB0KG5hbWVzKSxcbiAgICAgIHNpZ25hbDogZW5kaW5nLFxuICAgICAgc3RlcDogYHVuZG8gb2YgJHtzdGVwfWAsXG4gICAgICByb3csXG4gICAgfSk7XG4gICAgcmV0dXJuIHsgc2VudDogZG9uZSwga2VwdDogW10sIHByb2JsZW1zOiBkb25lLnByb2JsZW1zIH07XG4gIH0sIHNpZ25hbCk7XG4gIHJldHVybiB7IGV2ZW50OiAndW5kbycsIGxhYmVsOiByZXF1ZXN0LCBzdGVwLCBzdGF0ZSwgcm93LCBzZW50LCBwcm9ibGVtIH07XG59XG5cbmNvbnN0IG5hbWVzRnJvbUtlcHQgPSAoa2VwdDogcmVhZG9ubHkgS2VwdE5hbWVbXSk6IE5hbWVzID0+IHtcbiAgY29uc3Qga25vd24gPSBuZXcgTWFwKGtlcHQubWFwKChvbmUpID0+IFtvbmUubmFtZSwgb25lXSkpO1xuICByZXR1cm4geyBsb29rdXA6IChuYW1lKSA9PiBrbm93bi5nZXQobmFtZSksIGtub3duOiAoKSA9PiBrbm93bi5rZXlzKCksIGxheWVyczogWyd2YWx1ZXMgb2YgdGhlIHJ1biddIH07XG59O1xuIiwgIi8qKiBBIHdhbGsgaW4gd29yZHMsIHdoaWxlIGl0IGhhcHBlbnMuICovXG5pbXBvcnQgeyBzaG9ydFRleHQgfSBmcm9tICcuLi8uLi9jb3JlL21hdGNoZXIvcmVhZGluZy5qcyc7XG5pbXBvcnQgdHlwZSB7XG4gIFJvd0V2ZW50LFxuICBTdGVwRXZlbnQsXG4gIFRhYmxlRXZlbnQsXG4gIFRvbGQsXG4gIFVuZG9FdmVudCxcbiAgV2FpdEV2ZW50LFxuICBXYWxrRXZlbnQsXG59IGZyb20gJy4uLy4uL2NvcmUvdHJhaWwvZXZlbnRzLmpzJztcbmltcG9ydCB7IGR1cmF0aW9uVGV4dCB9IGZyb20gJy4uLy4uL2NvcmUvdmFsdWUvbWVhc3VyZXMuanMnO1xuaW1wb3J0IHsgY2VsbFRleHQgfSBmcm9tICcuLi8uLi9jb3JlL3ZhbHVlL3Jvd3MuanMnO1xuaW1wb3J0IHR5cGUgeyBUZXJtaW5hbCB9IGZyb20gJy4uL3Rlcm1pbmFsLmpzJztcbmltcG9ydCB7IHN0YXR1c1RleHQgfSBmcm9tICcuL2V4Y2hhbmdlLmpzJztcbmltcG9ydCB7IHByaW50YWJsZUxpbmUgfSBmcm9tICcuL3ByaW50YWJsZS5qcyc7XG5pbXBvcnQgeyB0YWJsZSB9IGZyb20gJy4vdGFibGUuanMnO1xuXG50eXBlIEhpZGUgPSAodGV4dDogc3RyaW5nKSA9PiBzdHJpbmc7XG5cbi8qKiBUaGUgbGluZXMgb2YgYW4gZXZlbnQuICovXG5leHBvcnQgZnVuY3Rpb24gZXZlbnRMaW5lcyhldmVudDogV2Fsa0V2ZW50LCB0ZXJtaW5hbDogVGVybWluYWwsIGhpZGU6IEhpZGUsIHdpZHRoID0gMCk6IHN0cmluZ1tdIHtcbiAgc3dpdGNoIChldmVudC5ldmVudCkge1xuICAgIGNhc2UgJ3N0ZXAnOlxuICAgICAgcmV0dXJuIHN0ZXBMaW5lcyhldmVudCwgdGVybWluYWwsIGhpZGUsIHdpZHRoKTtcbiAgICBjYXNlICd1bmRvJzpcbiAgICAgIHJldHVybiB1bmRvTGluZXMoZXZlbnQsIHRlcm1pbmFsLCBoaWRlKTtcbiAgICBjYXNlICdyb3cnOlxuICAgICAgcmV0dXJuIHJvd0xpbmVzKGV2ZW50LCB0ZXJtaW5hbCwgaGlkZSk7XG4gICAgY2FzZSAnc2Vzc2lvbi1vcGVuZWQnOlxuICAgICAgcmV0dXJuIFtgJHt0ZXJtaW5hbC5vdXQuZGltKCdvcGVuZWQgJyl9IHNlc3Npb24gJHtldmVudC5uYW1lfWBdO1xuICAgIGNhc2UgJ3Nlc3Npb24tY2xvc2VkJzpcbiAgICAgIHJldHVybiBldmVudC5wcm9ibGVtXG4gICAgICAgID8gW1xuICAgICAgICAgICAgYCR7dGVybWluYWwub3V0LnJlZCgnZmFpbGVkICcpfSBjbG9zaW5nIHRoZSBzZXNzaW9uICR7ZXZlbnQubmFtZX06ICR7cHJpbnRhYmxlTGluZShoaWRlKGV2ZW50LnByb2JsZW0ud2hhdCkpfWAsXG4gICAgICAgICAgXVxuICAgICAgICA6IFtgJHt0ZXJtaW5hbC5vdXQuZGltKCdjbG9zZWQgJyl9IHNlc3Npb24gJHtldmVudC5uYW1lfWBdO1xuICAgIGNhc2UgJ3dhaXRpbmcnOlxuICAgICAgcmV0dXJuIFt3YWl0VGV4dChldmVudCwgdGVybWluYWwpXTtcbiAgICBjYXNlICd0YWJsZSc6XG4gICAgICByZXR1cm4gdGFibGVMaW5lcyhldmVudCwgdGVybWluYWwsIGhpZGUpO1xuICB9XG59XG5cbi8qKiBPZiBhIHJvdyB0aGF0IGZhaWxlZCBiZWZvcmUgaXRzIGZpcnN0IHN0ZXAsIG9yIGJldHdlZW4gdHdvIG9mIHRoZW0uICovXG5mdW5jdGlvbiByb3dMaW5lcyh7IHJvdywgbGFiZWwsIHByb2JsZW0gfTogUm93RXZlbnQsIHsgb3V0IH06IFRlcm1pbmFsLCBoaWRlOiBIaWRlKTogc3RyaW5nW10ge1xuICBjb25zdCBoZWFkID0gYCR7b3V0LnJlZCgnZmFpbGVkICcpfSByb3cgJHtyb3d9ICR7b3V0LmRpbShgKCR7cHJpbnRhYmxlTGluZShoaWRlKGxhYmVsKSl9KWApfWA7XG4gIHJldHVybiBwcm9ibGVtID8gW2hlYWQsIGAgICAgICAgICR7cHJpbnRhYmxlTGluZShoaWRlKHByb2JsZW0ud2hhdCkpfWBdIDogW2hlYWRdO1xufVxuXG4vKiogV2hpY2ggb25lIG9mIG1hbnkgaXQgaXMuICovXG5mdW5jdGlvbiBtZW1iZXJUZXh0KHsgcm93LCByb3dMYWJlbCA9ICcnLCBtZW1iZXIgfTogU3RlcEV2ZW50LCB7IG91dCB9OiBUZXJtaW5hbCwgaGlkZTogSGlkZSk6IHN0cmluZyB7XG4gIGNvbnN0IGxhYmVsID0gcm93TGFiZWwgPT09ICcnID8gJycgOiBvdXQuZGltKGAgKCR7cHJpbnRhYmxlTGluZShoaWRlKHJvd0xhYmVsKSl9KWApO1xuICByZXR1cm4gYCR7cm93ID09PSB1bmRlZmluZWQgPyAnJyA6IGByb3cgJHtyb3d9JHtsYWJlbH06IGB9JHttZW1iZXIgPT09IHVuZGVmaW5lZCA/ICcnIDogYCR7bWVtYmVyfTogYH1gO1xufVxuXG5mdW5jdGlvbiBzdGVwTGluZXMoZXZlbnQ6IFN0ZXBFdmVudCwgdGVybWluYWw6IFRlcm1pbmFsLCBoaWRlOiBIaWRlLCB3aWR0aDogbnVtYmVyKTogc3RyaW5nW10ge1xuICBjb25zdCB7IG91dCB9ID0gdGVybWluYWw7XG4gIGNvbnN0IHsgbGFiZWwsIHN0YXRlLCBkZXB0aCwgc2VudCwga2VwdCwgcHJvYmxlbXMsIGtpbmQsIHRvbGQgfSA9IGV2ZW50O1xuICBjb25zdCBtYXJnaW4gPSAnICAnLnJlcGVhdChkZXB0aCk7XG4gIGNvbnN0IG1hcmsgPSB7IG9rOiBvdXQuZ3JlZW4oJ29rICAgICAnKSwgZmFpbGVkOiBvdXQucmVkKCdmYWlsZWQgJyksIHNraXBwZWQ6IG91dC5kaW0oJ3NraXBwZWQnKSB9W3N0YXRlXTtcbiAgY29uc3QgcmVjZWl2ZWQgPSBzZW50Py5vdXRjb21lLnJlY2VpdmVkO1xuICBjb25zdCB1bnNlbnQgPSBzZW50ICE9PSB1bmRlZmluZWQgJiYgcmVjZWl2ZWQgPT09IHVuZGVmaW5lZCAmJiBzZW50Lm91dGNvbWUudHJvdWJsZSA9PT0gdW5kZWZpbmVkO1xuICBjb25zdCBwYXJ0cyA9IFtcbiAgICBzZW50ICYmXG4gICAgICBgJHtvdXQuY3lhbihzZW50LndpcmUubWV0aG9kKX0gJHtyZWNlaXZlZCA/IHN0YXR1c1RleHQocmVjZWl2ZWQuc3RhdHVzLCByZWNlaXZlZC5wYXJ0cy5yZWFzb24sIG91dCwgc3RhdGUgPT09ICdvaycpIDogdW5zZW50ID8gcHJpbnRhYmxlTGluZShoaWRlKHNlbnQud2lyZS5zaG93blVybCkpIDogb3V0LnJlZCgnbm8gYW5zd2VyJyl9YCxcbiAgICByZWNlaXZlZCAmJiBvdXQuZGltKGR1cmF0aW9uVGV4dChyZWNlaXZlZC5wYXJ0cy5waGFzZXMudG90YWwpKSxcbiAgICBzZW50ICYmIHNlbnQudHJpZXMgPiAxICYmIG91dC55ZWxsb3coYCR7c2VudC50cmllc30gdHJpZXNgKSxcbiAgICBzZW50ICYmXG4gICAgICBzZW50LnZlcmRpY3RzLmxlbmd0aCA+IDAgJiZcbiAgICAgIG91dC5kaW0oYCR7c2VudC52ZXJkaWN0cy5maWx0ZXIoKHsgb2sgfSkgPT4gb2spLmxlbmd0aH0gb2YgJHtzZW50LnZlcmRpY3RzLmxlbmd0aH0gYXMgZXhwZWN0ZWRgKSxcbiAgICAuLi50b2xkVGV4dHModG9sZCwgaGlkZSkubWFwKG91dC5kaW0pLFxuICAgIGtlcHQubGVuZ3RoID4gMCAmJiBraW5kICE9PSAna2VlcCcgJiYga2luZCAhPT0gJ2Nob29zZScgJiYgb3V0LmRpbShga2VwdCAke2tlcHQuam9pbignLCAnKX1gKSxcbiAgXS5maWx0ZXIoQm9vbGVhbik7XG4gIGNvbnN0IGdhcCA9ICcgJy5yZXBlYXQoTWF0aC5tYXgoMCwgd2lkdGggLSBtYXJnaW4ubGVuZ3RoIC0gbGFiZWwubGVuZ3RoKSk7XG4gIGNvbnN0IG1vcmUgPSBwYXJ0cy5sZW5ndGggPiAwID8gYCR7Z2FwfSAgICR7cGFydHMuam9pbignICAgJyl9YCA6ICcnO1xuICBjb25zdCBsaW5lcyA9IFtgJHttYXJrfSAke21hcmdpbn0ke21lbWJlclRleHQoZXZlbnQsIHRlcm1pbmFsLCBoaWRlKX0ke291dC5ib2xkKGxhYmVsKX0ke21vcmV9YF07XG4gIGZvciAoY29uc3QgcHJvYmxlbSBvZiBwcm9ibGVtcykge1xuICAgIGxpbmVzLnB1c2goYCAgICAgICAgJHttYXJnaW59JHtwcmludGFibGVMaW5lKGhpZGUocHJvYmxlbS53aGF0KSl9YCk7XG4gICAgaWYgKHByb2JsZW0ucmVhc29uICE9PSB1bmRlZmluZWQpIGxpbmVzLnB1c2goYCAgICAgICAgJHttYXJnaW59JHtvdXQuZGltKHByaW50YWJsZUxpbmUoaGlkZShwcm9ibGVtLnJlYXNvbikpKX1gKTtcbiAgICBpZiAocHJvYmxlbS5yZW1lZHkgIT09IHVuZGVmaW5lZClcbiAgICAgIGxpbmVzLnB1c2goYCAgICAgICAgJHttYXJnaW59JHtvdXQuZGltKCd0cnknKX0gJHtwcmludGFibGVMaW5lKGhpZGUocHJvYmxlbS5yZW1lZHkpKX1gKTtcbiAgfVxuICBmb3IgKGNvbnN0IHsgYXQsIGxlZnQsIHJpZ2h0IH0gb2YgKHRvbGQ/LmRpZmZlcmVuY2VzID8/IFtdKS5zbGljZSgwLCAxMCkpXG4gICAgbGluZXMucHVzaChcbiAgICAgIGAgICAgICAgICR7bWFyZ2lufSR7b3V0LmN5YW4ocHJpbnRhYmxlTGluZShhdCkpfSAgICR7cHJpbnRhYmxlTGluZShoaWRlKHNob3J0VGV4dChsZWZ0KSkpfSAgICR7b3V0LmRpbSgnYW5kJyl9ICR7cHJpbnRhYmxlTGluZShoaWRlKHNob3J0VGV4dChyaWdodCkpKX1gLFxuICAgICk7XG4gIGNvbnN0IGZ1cnRoZXIgPSAodG9sZD8uZGlmZmVyZW5jZXM/Lmxlbmd0aCA/PyAwKSAtIDEwO1xuICBpZiAoZnVydGhlciA+IDApIGxpbmVzLnB1c2goYCAgICAgICAgJHttYXJnaW59JHtvdXQuZGltKGBhbmQgJHtmdXJ0aGVyfSBtb3JlIGRpZmZlcmVuY2VzYCl9YCk7XG4gIGlmIChwcm9ibGVtcy5sZW5ndGggPiAwICYmIHNlbnQpIGxpbmVzLnB1c2goYCAgICAgICAgJHttYXJnaW59JHtvdXQuZGltKGBlY2hvICR7c2VudC5lY2hvfWApfWApO1xuICByZXR1cm4gbGluZXM7XG59XG5cbi8qKiBXaGF0IGEgc3RlcCBoYXMgdG8gdGVsbCBiZXNpZGUgaXRzIGFuc3dlci4gKi9cbmZ1bmN0aW9uIHRvbGRUZXh0cyh0b2xkOiBUb2xkIHwgdW5kZWZpbmVkLCBoaWRlOiBIaWRlKTogc3RyaW5nW10ge1xuICBpZiAoIXRvbGQpIHJldHVybiBbXTtcbiAgY29uc3QgeyBwYWdlcywgc2VlbiwgY2hvc2VuLCBtZW1iZXJzLCB1bmtub3duIH0gPSB0b2xkO1xuICByZXR1cm4gW1xuICAgIHBhZ2VzICYmIHBhZ2VzVGV4dChwYWdlcyksXG4gICAgc2VlbiAmJlxuICAgICAgYGFza2VkICR7c2Vlbi5hc2tlZH0gJHtzZWVuLmFza2VkID09PSAxID8gJ3RpbWUnIDogJ3RpbWVzJ306ICR7cHJpbnRhYmxlTGluZShoaWRlKHNlZW4udmFsdWVzLmpvaW4oJyBcdTIxOTIgJykpKX1gLFxuICAgIGNob3NlbiAhPT0gdW5kZWZpbmVkICYmIGBjaG9zZSAke3ByaW50YWJsZUxpbmUoaGlkZShjaG9zZW4pKX1gLFxuICAgIG1lbWJlcnMgJiZcbiAgICAgIGAke21lbWJlcnMub2t9IG9mICR7bWVtYmVycy5vayArIG1lbWJlcnMuZmFpbGVkfSR7bWVtYmVycy5wYXNzZWQgPiAwID8gYCwgJHttZW1iZXJzLnBhc3NlZH0gaGFuZGxlZCBiZWZvcmVgIDogJyd9YCxcbiAgICB1bmtub3duICE9PSB1bmRlZmluZWQgJiYgYGRlcGVuZHMgb24gYW4gYW5zd2VyOiAke3ByaW50YWJsZUxpbmUoaGlkZSh1bmtub3duKSl9YCxcbiAgXS5maWx0ZXIoKHRleHQpID0+IHR5cGVvZiB0ZXh0ID09PSAnc3RyaW5nJyk7XG59XG5cbi8qKiBgNCBwYWdlcywgMTAwIGl0ZW1zYCwgb3Igd2hhdCBpcyBtaXNzaW5nLiAqL1xuZnVuY3Rpb24gcGFnZXNUZXh0KHsgcGFnZXMsIGl0ZW1zLCB0b3RhbCwgcGFydGlhbCB9OiBOb25OdWxsYWJsZTxUb2xkWydwYWdlcyddPik6IHN0cmluZyB7XG4gIGNvbnN0IGNvdW50ZWQgPSBgJHtwYWdlc30gJHtwYWdlcyA9PT0gMSA/ICdwYWdlJyA6ICdwYWdlcyd9LCBgO1xuICBpZiAocGFydGlhbCA9PT0gdW5kZWZpbmVkKSByZXR1cm4gYCR7Y291bnRlZH0ke2l0ZW1zfSAke2l0ZW1zID09PSAxID8gJ2l0ZW0nIDogJ2l0ZW1zJ31gO1xuICByZXR1cm4gYHBhcnRpYWw6ICR7Y291bnRlZH0ke2l0ZW1zfSR7dG90YWwgPT09IHVuZGVmaW5lZCA/ICcgaXRlbXMnIDogYCBvZiAke3RvdGFsfSBpdGVtc2B9ICgke3BhcnRpYWx9KWA7XG59XG5cbmZ1bmN0aW9uIHdhaXRUZXh0KHsgaG9zdCwgd2FpdCwgd2h5LCB0b2xkIH06IFdhaXRFdmVudCwgeyBvdXQgfTogVGVybWluYWwpOiBzdHJpbmcge1xuICByZXR1cm4gYCR7b3V0LnllbGxvdygnd2FpdGluZycpfSAke2hvc3R9OiAke2R1cmF0aW9uVGV4dCh3YWl0KX0gJHtvdXQuZGltKGAoJHt3aHl9OyAke3RvbGQgPyAnYXMgdGhlIHNlcnZlciBhc2tzJyA6ICd0aGUgc2VydmVyIGRvZXMgbm90IHNheSBob3cgbG9uZyd9KWApfWA7XG59XG5cbmZ1bmN0aW9uIHRhYmxlTGluZXMoeyBsYWJlbCwgY29sdW1ucywgbGluZXMsIGNvdW50LCB0bywgc2hvdyB9OiBUYWJsZUV2ZW50LCB0ZXJtaW5hbDogVGVybWluYWwsIGhpZGU6IEhpZGUpOiBzdHJpbmdbXSB7XG4gIGNvbnN0IHsgb3V0IH0gPSB0ZXJtaW5hbDtcbiAgY29uc3QgdG9sZCA9IHRvID09PSB1bmRlZmluZWQgPyBbXSA6IFtgJHtvdXQuZ3JlZW4oJ3dyb3RlICAnKX0gJHt0b30gJHtvdXQuZGltKGAoJHtjb3VudH0gcm93cyBvZiAke2xhYmVsfSlgKX1gXTtcbiAgaWYgKCFzaG93KSByZXR1cm4gdG9sZDtcbiAgY29uc3Qgc2hvd24gPSBsaW5lcy5zbGljZSgwLCA0MCk7XG4gIGNvbnN0IGhlYWRzID0gc2hvd24uc29tZSgobGluZSkgPT4gbGluZS5lcnJvciAhPT0gdW5kZWZpbmVkKSA/IFsuLi5jb2x1bW5zLCAnZXJyb3InXSA6IGNvbHVtbnM7XG4gIGNvbnN0IGNlbGxzID0gc2hvd24ubWFwKChsaW5lKSA9PiBoZWFkcy5tYXAoKG5hbWUpID0+IHByaW50YWJsZUxpbmUoaGlkZShjZWxsVGV4dChsaW5lW25hbWVdKSkpKSk7XG4gIGNvbnN0IHJlc3QgPSBjb3VudCAtIHNob3duLmxlbmd0aDtcbiAgcmV0dXJuIFtcbiAgICAnJyxcbiAgICB0YWJsZShjZWxscywgdGVybWluYWwsIHsgaGVhZDogaGVhZHMsIGluZGVudDogOCwgZmxleGlibGU6IGhlYWRzLm1hcCgoXywgaW5kZXgpID0+IGluZGV4KSB9KSxcbiAgICAuLi4ocmVzdCA+IDAgPyBbYCAgICAgICAgJHtvdXQuZGltKGBhbmQgJHtyZXN0fSBtb3JlIHJvd3NgKX1gXSA6IFtdKSxcbiAgICAnJyxcbiAgICAuLi50b2xkLFxuICBdO1xufVxuXG5mdW5jdGlvbiB1bmRvTGluZXMoeyBsYWJlbCwgc3RlcCwgc3RhdGUsIHJvdywgc2VudCwgcHJvYmxlbSB9OiBVbmRvRXZlbnQsIHsgb3V0IH06IFRlcm1pbmFsLCBoaWRlOiBIaWRlKTogc3RyaW5nW10ge1xuICBjb25zdCByZWNlaXZlZCA9IHNlbnQ/Lm91dGNvbWUucmVjZWl2ZWQ7XG4gIGNvbnN0IHN0YXR1cyA9IHJlY2VpdmVkXG4gICAgPyBgICAgJHtvdXQuY3lhbihzZW50Py53aXJlLm1ldGhvZCA/PyAnJyl9ICR7c3RhdHVzVGV4dChyZWNlaXZlZC5zdGF0dXMsIHJlY2VpdmVkLnBhcnRzLnJlYXNvbiwgb3V0KX1gXG4gICAgOiAnJztcbiAgY29uc3QgbWFyayA9XG4gICAgc3RhdGUgPT09ICdkb25lJyA/IG91dC5ncmVlbigndW5kb25lICcpIDogc3RhdGUgPT09ICdub3QgbmVlZGVkJyA/IG91dC5kaW0oJ3VuZG9uZSAnKSA6IG91dC5yZWQoJ2xlZnQgICAnKTtcbiAgY29uc3Qgc2FpZCA9IHtcbiAgICBkb25lOiAnJyxcbiAgICAnbm90IG5lZWRlZCc6ICcgICBub3QgbmVlZGVkOiBpdCBpcyBnb25lIGFscmVhZHknLFxuICAgIGZhaWxlZDogJycsXG4gICAgaW1wb3NzaWJsZTogJyAgIG5vdCB1bmRvbmU6IGEgdmFsdWUgZm9yIGl0IGlzIG1pc3NpbmcnLFxuICB9W3N0YXRlXTtcbiAgY29uc3QgbGluZXMgPSBbYCR7bWFya30gJHtyb3cgPT09IHVuZGVmaW5lZCA/ICcnIDogYHJvdyAke3Jvd306IGB9JHtvdXQuYm9sZChzdGVwKX0gYnkgJHtsYWJlbH0ke3N0YXR1c30ke3NhaWR9YF07XG4gIGlmIChwcm9ibGVtKSBsaW5lcy5wdXNoKGAgICAgICAgICR7cHJpbnRhYmxlTGluZShoaWRlKHByb2JsZW0ud2hhdCkpfWApO1xuICByZXR1cm4gbGluZXM7XG59XG4iLCAiLyoqIEEgd2FsayBmb3IgcHJvZ3JhbXM6IG9uZSBsaW5lIG9mIEpTT04gYW4gZXZlbnQuICovXG5pbXBvcnQgeyB0eXBlIEJyaWVmUHJvYmxlbSwgYnJpZWYgfSBmcm9tICcuLi8uLi9jb3JlL3Byb2JsZW0vYnJpZWYuanMnO1xuaW1wb3J0IHR5cGUgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vY29yZS9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHR5cGUgeyBTdGVwRXZlbnQsIFN1bW1hcnksIFRhYmxlRXZlbnQsIFRvbGQsIFdhbGtFdmVudCB9IGZyb20gJy4uLy4uL2NvcmUvdHJhaWwvZXZlbnRzLmpzJztcbmltcG9ydCB0eXBlIHsgTWF0cml4IH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC9ydW4vbWF0cml4LmpzJztcbmltcG9ydCB0eXBlIHsgVW5kb1N1bW1hcnkgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3J1bi91bmRvLXJ1bi5qcyc7XG5pbXBvcnQgeyBwbGFpbiwgdHlwZSBWYWx1ZSwgdHlwZSBWYWx1ZU1hcCB9IGZyb20gJy4uLy4uL2NvcmUvdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgdHlwZSB7IERvY3VtZW50cyB9IGZyb20gJy4uL2RvY3VtZW50cy5qcyc7XG5pbXBvcnQgeyBkaWZmZXJlbmNlRG9jdW1lbnQsIHZlcmRpY3REb2N1bWVudCB9IGZyb20gJy4vdmVyZGljdC1kb2N1bWVudC5qcyc7XG5cbnR5cGUgSGlkZSA9ICh0ZXh0OiBzdHJpbmcpID0+IHN0cmluZztcblxuY29uc3Qgb3JOdWxsID0gKHByb2JsZW06IFByb2JsZW0gfCB1bmRlZmluZWQpOiBCcmllZlByb2JsZW0gfCBudWxsID0+IChwcm9ibGVtID8gYnJpZWYocHJvYmxlbSkgOiBudWxsKTtcblxuY29uc3Qgcm91bmRlZCA9IChtczogbnVtYmVyKTogbnVtYmVyID0+IE1hdGgucm91bmQobXMgKiAxMDAwKSAvIDEwMDA7XG5cbnR5cGUgRXZlbnREb2N1bWVudCA9IERvY3VtZW50c1sncnVuIHN0ZXAnIHwgJ3J1biB1bmRvJyB8ICdydW4gcm93JyB8ICdydW4gc2Vzc2lvbicgfCAncnVuIHdhaXRpbmcnIHwgJ3J1biB0YWJsZSddO1xuXG5leHBvcnQgZnVuY3Rpb24gZXZlbnREb2N1bWVudChldmVudDogV2Fsa0V2ZW50LCBoaWRlOiBIaWRlKTogRXZlbnREb2N1bWVudCB7XG4gIHN3aXRjaCAoZXZlbnQuZXZlbnQpIHtcbiAgICBjYXNlICdzdGVwJzpcbiAgICAgIHJldHVybiBzdGVwRG9jdW1lbnQoZXZlbnQsIGhpZGUpO1xuICAgIGNhc2UgJ3VuZG8nOlxuICAgICAgcmV0dXJuIHtcbiAgICAgICAgZXZlbnQ6ICd1bmRvJyxcbiAgICAgICAgcmVxdWVzdDogZXZlbnQubGFiZWwsXG4gICAgICAgIHN0ZXA6IGV2ZW50LnN0ZXAsXG4gICAgICAgIHN0YXRlOiBldmVudC5zdGF0ZSxcbiAgICAgICAgcm93OiBldmVudC5yb3cgPz8gbnVsbCxcbiAgICAgICAgcHJvYmxlbTogb3JOdWxsKGV2ZW50LnByb2JsZW0pLFxuICAgICAgfTtcbiAgICBjYXNlICdyb3cnOlxuICAgICAgcmV0dXJuIHsgZXZlbnQ6ICdyb3cnLCByb3c6IGV2ZW50LnJvdywgbGFiZWw6IGV2ZW50LmxhYmVsLCBvazogZXZlbnQub2ssIHByb2JsZW06IG9yTnVsbChldmVudC5wcm9ibGVtKSB9O1xuICAgIGNhc2UgJ3Nlc3Npb24tb3BlbmVkJzpcbiAgICBjYXNlICdzZXNzaW9uLWNsb3NlZCc6XG4gICAgICByZXR1cm4geyBldmVudDogZXZlbnQuZXZlbnQsIHNlc3Npb246IGV2ZW50Lm5hbWUsIHByb2JsZW06IG9yTnVsbChldmVudC5wcm9ibGVtKSB9O1xuICAgIGNhc2UgJ3dhaXRpbmcnOlxuICAgICAgcmV0dXJuIHtcbiAgICAgICAgZXZlbnQ6ICd3YWl0aW5nJyxcbiAgICAgICAgaG9zdDogZXZlbnQuaG9zdCxcbiAgICAgICAgd2FpdDogTWF0aC5yb3VuZChldmVudC53YWl0KSxcbiAgICAgICAgd2h5OiBldmVudC53aHksXG4gICAgICAgIHRvbGQ6IGV2ZW50LnRvbGQsXG4gICAgICB9O1xuICAgIGNhc2UgJ3RhYmxlJzpcbiAgICAgIHJldHVybiB0YWJsZURvY3VtZW50KGV2ZW50KTtcbiAgfVxufVxuXG5mdW5jdGlvbiBzdGVwRG9jdW1lbnQoZXZlbnQ6IFN0ZXBFdmVudCwgaGlkZTogSGlkZSk6IERvY3VtZW50c1sncnVuIHN0ZXAnXSB7XG4gIGNvbnN0IHsgbGFiZWwsIGtpbmQsIHN0YXRlLCBkZXB0aCwgcm93LCBtZW1iZXIsIHNlbnQsIGtlcHQsIHByb2JsZW1zLCB0b2xkIH0gPSBldmVudDtcbiAgY29uc3QgcmVjZWl2ZWQgPSBzZW50Py5vdXRjb21lLnJlY2VpdmVkO1xuICBjb25zdCB2ZXJkaWN0cyA9IHNlbnQ/LnZlcmRpY3RzID8/IFtdO1xuICByZXR1cm4ge1xuICAgIGV2ZW50OiAnc3RlcCcsXG4gICAgc3RlcDogbGFiZWwsXG4gICAga2luZCxcbiAgICBzdGF0ZSxcbiAgICBkZXB0aCxcbiAgICByb3c6IHJvdyA/PyBudWxsLFxuICAgIG1lbWJlcjogbWVtYmVyID8/IG51bGwsXG4gICAgLi4uKHNlbnQgJiYgeyBtZXRob2Q6IHNlbnQud2lyZS5tZXRob2QsIHVybDogaGlkZShzZW50LndpcmUuc2hvd25VcmwpLCB0cmllczogc2VudC50cmllcyB9KSxcbiAgICBzdGF0dXM6IHJlY2VpdmVkPy5zdGF0dXMgPz8gbnVsbCxcbiAgICB0aW1lOiByZWNlaXZlZCA/IHJvdW5kZWQocmVjZWl2ZWQudGltZSkgOiBudWxsLFxuICAgIGV4cGVjdGF0aW9uczoge1xuICAgICAgbWV0OiB2ZXJkaWN0cy5maWx0ZXIoKHsgb2sgfSkgPT4gb2spLmxlbmd0aCxcbiAgICAgIGZhaWxlZDogdmVyZGljdHMuZmlsdGVyKCh7IG9rIH0pID0+ICFvaykubWFwKHZlcmRpY3REb2N1bWVudCksXG4gICAgfSxcbiAgICBrZXB0OiBbLi4ua2VwdF0sXG4gICAgcHJvYmxlbXM6IHByb2JsZW1zLm1hcCgocHJvYmxlbSkgPT4gYnJpZWYocHJvYmxlbSkpLFxuICAgIC4uLih0b2xkICYmIHRvbGREb2N1bWVudCh0b2xkKSksXG4gICAgZWNobzogc2VudD8uZWNobyB8fCBudWxsLFxuICB9O1xufVxuXG5mdW5jdGlvbiB0b2xkRG9jdW1lbnQoeyBwYWdlcywgc2VlbiwgY2hvc2VuLCBkaWZmZXJlbmNlcywgbWVtYmVycywgdW5rbm93biB9OiBUb2xkKTogb2JqZWN0IHtcbiAgcmV0dXJuIHtcbiAgICAuLi4ocGFnZXMgJiYgeyBwYWdlczogeyAuLi5wYWdlcywgdG90YWw6IHBhZ2VzLnRvdGFsID8/IG51bGwsIHBhcnRpYWw6IHBhZ2VzLnBhcnRpYWwgPz8gbnVsbCB9IH0pLFxuICAgIC4uLihzZWVuICYmIHsgc2VlbjogeyBhc2tlZDogc2Vlbi5hc2tlZCwgdmFsdWVzOiBbLi4uc2Vlbi52YWx1ZXNdIH0gfSksXG4gICAgLi4uKGNob3NlbiAhPT0gdW5kZWZpbmVkICYmIHsgY2hvc2VuIH0pLFxuICAgIC4uLihkaWZmZXJlbmNlcyAmJiB7IGRpZmZlcmVuY2VzOiBkaWZmZXJlbmNlcy5tYXAoZGlmZmVyZW5jZURvY3VtZW50KSB9KSxcbiAgICAuLi4obWVtYmVycyAmJiB7IG1lbWJlcnMgfSksXG4gICAgLi4uKHVua25vd24gIT09IHVuZGVmaW5lZCAmJiB7IHVua25vd24gfSksXG4gIH07XG59XG5cbmNvbnN0IHRhYmxlRG9jdW1lbnQgPSAoeyBsYWJlbCwgY29sdW1ucywgbGluZXMsIGNvdW50LCB0byB9OiBUYWJsZUV2ZW50KTogRG9jdW1lbnRzWydydW4gdGFibGUnXSA9PiAoe1xuICBldmVudDogJ3RhYmxlJyxcbiAgc3RlcDogbGFiZWwsXG4gIGNvbHVtbnM6IFsuLi5jb2x1bW5zXSxcbiAgcm93czogbGluZXMubWFwKChsaW5lOiBWYWx1ZU1hcCkgPT5cbiAgICBPYmplY3QuZnJvbUVudHJpZXMoT2JqZWN0LmVudHJpZXMobGluZSkubWFwKChbbmFtZSwgdmFsdWVdKSA9PiBbbmFtZSwgcGxhaW4odmFsdWUgYXMgVmFsdWUpXSkpLFxuICApLFxuICBjb3VudCxcbiAgdG86IHRvID8/IG51bGwsXG59KTtcblxuZXhwb3J0IGZ1bmN0aW9uIHN1bW1hcnlEb2N1bWVudChzdW1tYXJ5OiBTdW1tYXJ5LCB3YWxrZWQ6IHN0cmluZyk6IERvY3VtZW50c1sncnVuIHN1bW1hcnknXSB7XG4gIGNvbnN0IHsgcm93cywgaW5Eb3VidCwgbm90VW5kb25lLCBwcm9ibGVtLCBlbmRlZDogXywgLi4uZmFjdHMgfSA9IHN1bW1hcnk7XG4gIHJldHVybiB7XG4gICAgZXZlbnQ6ICdzdW1tYXJ5JyxcbiAgICB3YWxrZWQsXG4gICAgLi4uZmFjdHMsXG4gICAgd2FpdGVkOiBNYXRoLnJvdW5kKHN1bW1hcnkud2FpdGVkKSxcbiAgICB0aW1lOiBNYXRoLnJvdW5kKHN1bW1hcnkudGltZSksXG4gICAgcm93czogcm93cyA/PyBudWxsLFxuICAgIG5vdFVuZG9uZTogWy4uLm5vdFVuZG9uZV0sXG4gICAgaW5Eb3VidDogWy4uLmluRG91YnRdLFxuICAgIHByb2JsZW06IG9yTnVsbChwcm9ibGVtKSxcbiAgfTtcbn1cblxuZXhwb3J0IGZ1bmN0aW9uIG1hdHJpeERvY3VtZW50KHsgY2hlY2tzLCBzdWJqZWN0cywgZGV2aWF0aW9ucyB9OiBNYXRyaXgpOiBEb2N1bWVudHNbJ3J1biBtYXRyaXgnXSB7XG4gIHJldHVybiB7XG4gICAgZXZlbnQ6ICdtYXRyaXgnLFxuICAgIGNoZWNrczogWy4uLmNoZWNrc10sXG4gICAgc3ViamVjdHM6IHN1YmplY3RzLm1hcCgoeyBuYW1lLCBjZWxscyB9KSA9PiAoeyBuYW1lLCByZXN1bHRzOiBPYmplY3QuZnJvbUVudHJpZXMoY2VsbHMpIH0pKSxcbiAgICBkZXZpYXRpb25zOiBkZXZpYXRpb25zLm1hcCgoZGV2aWF0aW9uKSA9PiAoeyAuLi5kZXZpYXRpb24gfSkpLFxuICB9O1xufVxuXG5leHBvcnQgY29uc3QgdW5kb1N1bW1hcnlEb2N1bWVudCA9ICh7IHJ1biwgdW5kb25lLCBub3RVbmRvbmUgfTogVW5kb1N1bW1hcnkpOiBEb2N1bWVudHNbJ3J1biB1bmRvIHN1bW1hcnknXSA9PiAoe1xuICBldmVudDogJ3VuZG8tc3VtbWFyeScsXG4gIHJ1bixcbiAgdW5kb25lLFxuICBub3RVbmRvbmUsXG59KTtcbiIsICIvKiogYHJ1biAtLWFjY2VwdGA6IHdoYXQgaXMgZm91bmQgdGFrZXMgdGhlIHBsYWNlIG9mIHdoYXQgd2FzIGV4cGVjdGVkLCBvbmNlIHRoZSBkaWZmZXJlbmNlIHdhcyBzaG93bi4gKi9cblxuaW1wb3J0IHR5cGUgeyBBY2NlcHRlZCB9IGZyb20gJy4uLy4uL2NvcmUvbWF0Y2hlci9tYXRjaGVyLmpzJztcbmltcG9ydCB7IHNob3J0VGV4dCB9IGZyb20gJy4uLy4uL2NvcmUvbWF0Y2hlci9yZWFkaW5nLmpzJztcbmltcG9ydCB7IHdyaXRlQXRvbWljYWxseSB9IGZyb20gJy4uLy4uL2NvcmUvc3RvcmFnZS9hdG9taWMtd3JpdGUuanMnO1xuaW1wb3J0IHsgcGxhY2VJbnNpZGUgfSBmcm9tICcuLi8uLi9jb3JlL3N0b3JhZ2UvaW5zaWRlLmpzJztcbmltcG9ydCB0eXBlIHsgVGVybWluYWwgfSBmcm9tICcuLi90ZXJtaW5hbC5qcyc7XG5pbXBvcnQgeyBwcmludGFibGVMaW5lIH0gZnJvbSAnLi4vdmlldy9wcmludGFibGUuanMnO1xuXG5leHBvcnQgaW50ZXJmYWNlIEFjY2VwdGluZyB7XG4gIHJlYWRvbmx5IGFjY2VwdDogKGFjY2VwdGVkOiBBY2NlcHRlZCkgPT4gdm9pZDtcbiAgLyoqIFNldHRsZXMgd2hlbiBhbGwgaXMgd3JpdHRlbi4gQHRocm93cyBQcm9ibGVtIGZpbGUtdW5yZWFkYWJsZSwgZmlsZS1vdXRzaWRlICovXG4gIHdyaXR0ZW4oKTogUHJvbWlzZTx2b2lkPjtcbn1cblxuY29uc3Qgc2hvd24gPSAyMDtcblxuZXhwb3J0IGZ1bmN0aW9uIGFjY2VwdGluZyhyb290OiBzdHJpbmcsIHRlcm1pbmFsOiBUZXJtaW5hbCwgaGlkZTogKCkgPT4gKHRleHQ6IHN0cmluZykgPT4gc3RyaW5nKTogQWNjZXB0aW5nIHtcbiAgY29uc3QgZmlsZXMgPSBuZXcgTWFwPHN0cmluZywgc3RyaW5nPigpO1xuICByZXR1cm4ge1xuICAgIGFjY2VwdCh7IGZpbGUsIHRleHQsIGRpZmZlcmVuY2VzLCBtYWRlIH0pIHtcbiAgICAgIGNvbnN0IHsgZXJyIH0gPSB0ZXJtaW5hbDtcbiAgICAgIGZpbGVzLnNldChmaWxlLCBoaWRlKCkodGV4dCkpO1xuICAgICAgdGVybWluYWwubm90ZShgJHtlcnIueWVsbG93KCdhY2NlcHQnKX0gICR7ZmlsZX0ke21hZGUgPyBlcnIuZGltKCcgKHRoZXJlIHdhcyBub25lKScpIDogJyd9YCk7XG4gICAgICBmb3IgKGNvbnN0IHsgYXQsIGxlZnQsIHJpZ2h0IH0gb2YgZGlmZmVyZW5jZXMuc2xpY2UoMCwgc2hvd24pKSB7XG4gICAgICAgIGNvbnN0IHNpZGVzID0gW2xlZnQsIHJpZ2h0XS5tYXAoKHZhbHVlKSA9PiBwcmludGFibGVMaW5lKGhpZGUoKShzaG9ydFRleHQodmFsdWUpKSkpO1xuICAgICAgICB0ZXJtaW5hbC5ub3RlKGAgICAgICAgICR7ZXJyLmN5YW4ocHJpbnRhYmxlTGluZShhdCkpfSAgICR7c2lkZXMuam9pbihlcnIuZGltKCcgYmVjb21lcyAnKSl9YCk7XG4gICAgICB9XG4gICAgICBpZiAoZGlmZmVyZW5jZXMubGVuZ3RoID4gc2hvd24pIHRlcm1pbmFsLm5vdGUoYCAgICAgICAgYW5kICR7ZGlmZmVyZW5jZXMubGVuZ3RoIC0gc2hvd259IG1vcmVgKTtcbiAgICB9LFxuICAgIGFzeW5jIHdyaXR0ZW4oKSB7XG4gICAgICBmb3IgKGNvbnN0IFtmaWxlLCB0ZXh0XSBvZiBmaWxlcykgYXdhaXQgd3JpdGVBdG9taWNhbGx5KHBsYWNlSW5zaWRlKHJvb3QsIGZpbGUpLCB0ZXh0KTtcbiAgICB9LFxuICB9O1xufVxuIiwgIi8qKiBUaGUgd29ya3NwYWNlIG9mIGEgcnVuOiB3aXRoIHRoZSBwYXRpZW5jZSwgdGhlIGJhc2VsaW5lcyBhbmQgdGhlIHBlb3BsZSB0aGF0IGEgcnVuIG1heSB3YW50LiAqL1xuaW1wb3J0IHR5cGUgeyBDb2xsZWN0aW9uIH0gZnJvbSAnLi4vLi4vY29yZS9jb2xsZWN0aW9uL2NvbGxlY3Rpb24uanMnO1xuaW1wb3J0IHR5cGUgeyBTZXR0aW5ncyB9IGZyb20gJy4uLy4uL2NvcmUvY29sbGVjdGlvbi9sYXllcnMuanMnO1xuaW1wb3J0IHsgdG9sZE9ubHkgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3BhY2luZy9yZXRyeS1wb2xpY3kuanMnO1xuaW1wb3J0IHR5cGUgeyBXb3Jrc3BhY2UgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3dvcmtzcGFjZS5qcyc7XG5pbXBvcnQgdHlwZSB7IENvbnRleHQgfSBmcm9tICcuLi9jb250ZXh0LmpzJztcbmltcG9ydCB7IGFjY2VwdGluZyB9IGZyb20gJy4vYWNjZXB0aW5nLmpzJztcbmltcG9ydCB0eXBlIHsgUnVuV2lzaGVzIH0gZnJvbSAnLi9vcHRpb25zLmpzJztcblxuZXhwb3J0IGludGVyZmFjZSBPcGVuZWQge1xuICByZWFkb25seSB3b3Jrc3BhY2U6IFdvcmtzcGFjZTtcbiAgLyoqIFNldHRsZXMgd2hlbiB0aGUgYmFzZWxpbmVzIHRoYXQgd2VyZSBhY2NlcHRlZCBhcmUgd3JpdHRlbi4gKi9cbiAgcmVhZG9ubHkgd3JpdHRlbjogKCkgPT4gUHJvbWlzZTx2b2lkPjtcbn1cblxuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIG9wZW5lZChcbiAgY29udGV4dDogQ29udGV4dCxcbiAgd2lzaGVzOiBSdW5XaXNoZXMsXG4gIG1vcmU6IHtcbiAgICByZWFkb25seSBlbnZpcm9ubWVudD86IHN0cmluZyB8IHVuZGVmaW5lZDtcbiAgICByZWFkb25seSBzZXR0aW5ncz86IFNldHRpbmdzO1xuICAgIHJlYWRvbmx5IHJlZGFjdG9yPzogV29ya3NwYWNlWydyZWRhY3RvciddO1xuICAgIHJlYWRvbmx5IGNvbGxlY3Rpb24/OiBDb2xsZWN0aW9uO1xuICB9LFxuKTogUHJvbWlzZTxPcGVuZWQ+IHtcbiAgY29uc3QgeyB0ZXJtaW5hbCB9ID0gY29udGV4dDtcbiAgY29uc3QgY29sbGVjdGlvbiA9IG1vcmUuY29sbGVjdGlvbiA/PyAoYXdhaXQgY29udGV4dC5jb2xsZWN0aW9uKCkpO1xuICBsZXQgd29ya3NwYWNlOiBXb3Jrc3BhY2UgfCB1bmRlZmluZWQ7XG4gIGNvbnN0IGJhc2VsaW5lcyA9IGFjY2VwdGluZyhjb2xsZWN0aW9uLnJvb3QsIHRlcm1pbmFsLCAoKSA9PiB3b3Jrc3BhY2U/LnJlZGFjdG9yLmhpZGUgPz8gKCh0ZXh0KSA9PiB0ZXh0KSk7XG4gIHdvcmtzcGFjZSA9IGF3YWl0IGNvbnRleHQud29ya3NwYWNlKHtcbiAgICAuLi5tb3JlLFxuICAgIGNvbGxlY3Rpb24sXG4gICAgYWxsb3dDaGFuZ2VzOiB3aXNoZXMuYWxsb3dDaGFuZ2VzLFxuICAgIHJldHJ5OiB0b2xkT25seSxcbiAgICBkcnlSdW46IHdpc2hlcy5kcnlSdW4sXG4gICAgYWNjZXB0OiB3aXNoZXMuYWNjZXB0ID8gYmFzZWxpbmVzLmFjY2VwdCA6IHVuZGVmaW5lZCxcbiAgICBzdGFuZGFyZElucHV0OiAoKSA9PiBwcm9jZXNzLnN0ZGluLFxuICAgIGNob29zZTogdGVybWluYWwuaW50ZXJhY3RpdmVcbiAgICAgID8gKHF1ZXN0aW9uLCBsYWJlbHMpID0+IHRlcm1pbmFsLmFza2luZyhhc3luYyAoKSA9PiAoYXdhaXQgaW1wb3J0KCcuLi9hc2svY2hvaWNlLmpzJykpLmFza0xhYmVsKHF1ZXN0aW9uLCBsYWJlbHMpKVxuICAgICAgOiB1bmRlZmluZWQsXG4gIH0pO1xuICByZXR1cm4geyB3b3Jrc3BhY2UsIHdyaXR0ZW46IGJhc2VsaW5lcy53cml0dGVuIH07XG59XG4iLCAiLyoqIFdoYXQgY2FuIGJlIGtub3duIGJlZm9yZSB0aGUgZmlyc3Qgc3RlcDogc2VjcmV0cywgd2hldGhlciB0aGUgaG9zdHMgYXJlIHRoZXJlLCB0aGUgdmVyc2lvbiBvZiB0aGUgdmVuZG9yJ3MgQVBJLiAqL1xuaW1wb3J0IHsgY29ubmVjdCB9IGZyb20gJ25vZGU6bmV0JztcbmltcG9ydCB0eXBlIHsgRW52aXJvbm1lbnRGaWxlIH0gZnJvbSAnLi4vLi4vY29sbGVjdGlvbi9maWxlcy9lbnZpcm9ubWVudC1maWxlLmpzJztcbmltcG9ydCB7IHZhcmlhYmxlTmFtZXMgfSBmcm9tICcuLi8uLi9jb2xsZWN0aW9uL2xheWVycy5qcyc7XG5pbXBvcnQgdHlwZSB7IEFkZHJlc3NQbGFuIH0gZnJvbSAnLi4vLi4vZXhjaGFuZ2UvYWRkcmVzcy5qcyc7XG5pbXBvcnQgeyBFdmFsdWF0aW9uIH0gZnJvbSAnLi4vLi4vZXhwcmVzc2lvbi9ldmFsdWF0aW9uLmpzJztcbmltcG9ydCB7IG5vTmFtZXMgfSBmcm9tICcuLi8uLi9leHByZXNzaW9uL25hbWVzLmpzJztcbmltcG9ydCB7IHJlYWRQbGFjZSB9IGZyb20gJy4uLy4uL3BsYWNlL3JlZ2lzdHJ5LmpzJztcbmltcG9ydCB7IGFzUHJvYmxlbSwgUHJvYmxlbSB9IGZyb20gJy4uLy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyB0ZXh0T2YgfSBmcm9tICcuLi8uLi92YWx1ZS90ZXh0LmpzJztcbmltcG9ydCB7IGdyYXZlciB9IGZyb20gJy4uL2dyYXZpdHkuanMnO1xuaW1wb3J0IHsgZGVtYW5kU2VjcmV0cyB9IGZyb20gJy4uL3NlY3JldHMtYWhlYWQuanMnO1xuaW1wb3J0IHsgc2VuZFJlcXVlc3QgfSBmcm9tICcuLi9zZW5kLmpzJztcbmltcG9ydCB0eXBlIHsgVHJhaWxQbGFuIH0gZnJvbSAnLi4vc3RlcC1raW5kLmpzJztcbmltcG9ydCB0eXBlIHsgV29ya3NwYWNlIH0gZnJvbSAnLi4vd29ya3NwYWNlLmpzJztcbmltcG9ydCB7IGNvbXBhcmVWZXJzaW9ucyB9IGZyb20gJy4vdmVyc2lvbnMuanMnO1xuXG4vKiogTWlsbGlzZWNvbmRzIHRoYXQgYSBob3N0IG1heSB0YWtlIHRvIGJlIHRoZXJlLiAqL1xuY29uc3QgcGF0aWVuY2UgPSAzMDAwO1xuLyoqIEhvc3RzIHRoYXQgYXJlIGxvb2tlZCBmb3I7IG1vcmUgb2YgdGhlbSBhcmUgcm93cy4gKi9cbmNvbnN0IG1vc3RIb3N0cyA9IDIwO1xuXG4vKiogQHRocm93cyBQcm9ibGVtIHNlY3JldC1taXNzaW5nLCBjb25uZWN0aW9uLXJlZnVzZWQsIG5hbWUtbG9va3VwLCBjb25uZWN0aW9uLXRpbWVvdXQsIHZlcnNpb24tcmVmdXNlZCAqL1xuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIGRlbWFuZEFoZWFkKFxuICB3b3Jrc3BhY2U6IFdvcmtzcGFjZSxcbiAgcGxhbnM6IHJlYWRvbmx5IFRyYWlsUGxhbltdLFxuICBzaWduYWw6IEFib3J0U2lnbmFsLFxuKTogUHJvbWlzZTx2b2lkPiB7XG4gIGRlbWFuZFNlY3JldHMod29ya3NwYWNlLCBwbGFucyk7XG4gIGlmICh3b3Jrc3BhY2UuZHJ5UnVuKSByZXR1cm47XG4gIGF3YWl0IGRlbWFuZEhvc3RzKHdvcmtzcGFjZSwgcGxhbnMpO1xuICBhd2FpdCBkZW1hbmRWZXJzaW9uKHdvcmtzcGFjZSwgc2lnbmFsKTtcbn1cblxuLyoqIEhvc3RzIHRoYXQgYXJlIHRoZSBzYW1lIGZvciBldmVyeSByb3cuIFRocm91Z2ggYSBwcm94eSBub3RoaW5nIGlzIGtub3duIGFoZWFkLiAqL1xuYXN5bmMgZnVuY3Rpb24gZGVtYW5kSG9zdHMod29ya3NwYWNlOiBXb3Jrc3BhY2UsIHBsYW5zOiByZWFkb25seSBUcmFpbFBsYW5bXSk6IFByb21pc2U8dm9pZD4ge1xuICBjb25zdCBob3N0cyA9IG5ldyBNYXA8c3RyaW5nLCBVUkw+KCk7XG4gIGZvciAoY29uc3QgeyBzdGVwcywgcm93cyB9IG9mIHBsYW5zKSB7XG4gICAgLy8gT25lIGNhbGwgYnkgaXRzZWxmIGZpbmRzIG91dCBhcyBmYXN0OyBhIHJvdyBtYXkgc2F5IHdoaWNoIGhvc3QgaXMgbWVhbnQuXG4gICAgaWYgKHN0ZXBzLmxlbmd0aCA8IDIpIGNvbnRpbnVlO1xuICAgIGlmIChcbiAgICAgIHJvd3MgJiZcbiAgICAgIFsuLi53b3Jrc3BhY2Uub3V0c2lkZU5hbWVzXS5zb21lKChuYW1lKSA9PiAhd29ya3NwYWNlLmxheWVycy5sYXllcnMuc29tZSgoeyB2YXJpYWJsZXMgfSkgPT4gdmFyaWFibGVzLmhhcyhuYW1lKSkpXG4gICAgKVxuICAgICAgY29udGludWU7XG4gICAgZm9yIChjb25zdCB7IHJlcXVlc3RzLCB3aGVuIH0gb2Ygc3RlcHMpIHtcbiAgICAgIGlmICh3aGVuKSBjb250aW51ZTtcbiAgICAgIGZvciAoY29uc3QgeyBwbGFuIH0gb2YgcmVxdWVzdHMpIHtcbiAgICAgICAgY29uc3QgdXJsID0gZml4ZWRPcmlnaW4od29ya3NwYWNlLCBwbGFuLmFkZHJlc3Mub3JpZ2luKTtcbiAgICAgICAgaWYgKHVybCAmJiBob3N0cy5zaXplIDwgbW9zdEhvc3RzKSBob3N0cy5zZXQodXJsLmhvc3QsIHVybCk7XG4gICAgICB9XG4gICAgfVxuICB9XG4gIGNvbnN0IG1pc3NpbmcgPSAoYXdhaXQgUHJvbWlzZS5hbGwoWy4uLmhvc3RzLnZhbHVlcygpXS5tYXAocmVhY2hlZCkpKS5maWx0ZXIoKHByb2JsZW0pID0+IHByb2JsZW0gIT09IHVuZGVmaW5lZCk7XG4gIGlmIChtaXNzaW5nLmxlbmd0aCA+IDApIHRocm93IG1pc3NpbmcucmVkdWNlKGdyYXZlcik7XG59XG5cbi8qKiBXaGF0IHRoZSBhZGRyZXNzIGJlZ2lucyB3aXRoLCB3aGVyZSB0aGF0IG5lZWRzIG5vIHJvdzsgdW5kZWZpbmVkIHdoZXJlIGEgcHJveHkgc3RhbmRzIGJlZm9yZSBpdC4gKi9cbmZ1bmN0aW9uIGZpeGVkT3JpZ2luKHdvcmtzcGFjZTogV29ya3NwYWNlLCBvcmlnaW46IEFkZHJlc3NQbGFuWydvcmlnaW4nXSk6IFVSTCB8IHVuZGVmaW5lZCB7XG4gIHRyeSB7XG4gICAgY29uc3Qgc3Vycm91bmRpbmdzID0geyB3b3JsZDogd29ya3NwYWNlLndvcmxkKCksIG9uU2VjcmV0OiB3b3Jrc3BhY2UucmVkYWN0b3IuYWRkIH07XG4gICAgY29uc3QgZXZhbHVhdGlvbiA9IG5ldyBFdmFsdWF0aW9uKHZhcmlhYmxlTmFtZXMod29ya3NwYWNlLmxheWVycywgbm9OYW1lcywgc3Vycm91bmRpbmdzKSwgc3Vycm91bmRpbmdzKTtcbiAgICBpZiAod29ya3NwYWNlLmNvbm5lY3Rpb24oKCkgPT4gZXZhbHVhdGlvbik/LnByb3h5KSByZXR1cm4gdW5kZWZpbmVkO1xuICAgIGNvbnN0IHRleHQgPSBvcmlnaW4oZXZhbHVhdGlvbik7XG4gICAgcmV0dXJuIHRleHQgIT09IHVuZGVmaW5lZCAmJiBVUkwuY2FuUGFyc2UodGV4dCkgPyBuZXcgVVJMKHRleHQpIDogdW5kZWZpbmVkO1xuICB9IGNhdGNoIHtcbiAgICByZXR1cm4gdW5kZWZpbmVkO1xuICB9XG59XG5cbmZ1bmN0aW9uIHJlYWNoZWQoeyBob3N0LCBob3N0bmFtZSwgcG9ydCwgcHJvdG9jb2wgfTogVVJMKTogUHJvbWlzZTxQcm9ibGVtIHwgdW5kZWZpbmVkPiB7XG4gIHJldHVybiBuZXcgUHJvbWlzZSgocmVzb2x2ZSkgPT4ge1xuICAgIGNvbnN0IHNvY2tldCA9IGNvbm5lY3Qoe1xuICAgICAgaG9zdDogaG9zdG5hbWUucmVwbGFjZSgvXlxcW3xcXF0kL2csICcnKSxcbiAgICAgIHBvcnQ6IE51bWJlcihwb3J0IHx8IChwcm90b2NvbCA9PT0gJ2h0dHBzOicgPyA0NDMgOiA4MCkpLFxuICAgICAgdGltZW91dDogcGF0aWVuY2UsXG4gICAgfSk7XG4gICAgY29uc3QgZG9uZSA9IChwcm9ibGVtOiBQcm9ibGVtIHwgdW5kZWZpbmVkKTogdm9pZCA9PiB7XG4gICAgICBzb2NrZXQuZGVzdHJveSgpO1xuICAgICAgcmVzb2x2ZShwcm9ibGVtKTtcbiAgICB9O1xuICAgIGNvbnN0IHNpbGVudCA9IChjb2RlOiAnbmFtZS1sb29rdXAnIHwgJ2Nvbm5lY3Rpb24tcmVmdXNlZCcgfCAnY29ubmVjdGlvbi10aW1lb3V0Jywgd2hhdDogc3RyaW5nKTogdm9pZCA9PlxuICAgICAgZG9uZShcbiAgICAgICAgbmV3IFByb2JsZW0oY29kZSwge1xuICAgICAgICAgIHdoYXQ6IGAke2hvc3R9ICR7d2hhdH1gLFxuICAgICAgICAgIHdoZXJlOiAnbG9va2luZyBhaGVhZCcsXG4gICAgICAgICAgcmVtZWR5OiAnbm90aGluZyB3YXMgc2VudDsgaXMgdGhlIGVudmlyb25tZW50IHRoZSByaWdodCBvbmU/JyxcbiAgICAgICAgfSksXG4gICAgICApO1xuICAgIHNvY2tldC5vbmNlKCdjb25uZWN0JywgKCkgPT4gZG9uZSh1bmRlZmluZWQpKTtcbiAgICBzb2NrZXQub25jZSgndGltZW91dCcsICgpID0+IHNpbGVudCgnY29ubmVjdGlvbi10aW1lb3V0JywgYGRpZCBub3QgYW5zd2VyIHdpdGhpbiAke3BhdGllbmNlIC8gMTAwMH0gc2ApKTtcbiAgICBzb2NrZXQub25jZSgnZXJyb3InLCAoeyBjb2RlIH06IE5vZGVKUy5FcnJub0V4Y2VwdGlvbikgPT4ge1xuICAgICAgaWYgKGNvZGUgPT09ICdFTk9URk9VTkQnIHx8IGNvZGUgPT09ICdFQUlfQUdBSU4nKSBzaWxlbnQoJ25hbWUtbG9va3VwJywgJ2lzIGEgbmFtZSB0aGF0IGlzIG5vdCBrbm93bicpO1xuICAgICAgZWxzZSBpZiAoY29kZSA9PT0gJ0VDT05OUkVGVVNFRCcpIHNpbGVudCgnY29ubmVjdGlvbi1yZWZ1c2VkJywgJ2lzIHRoZXJlLCBhbmQgbm90aGluZyBsaXN0ZW5zIG9uIHRoYXQgcG9ydCcpO1xuICAgICAgLy8gV2hhdCBpcyBvZGRlciB0aGFuIHRoYXQgaXMgdG9sZCBieSB0aGUgZXhjaGFuZ2UgaXRzZWxmLlxuICAgICAgZWxzZSBkb25lKHVuZGVmaW5lZCk7XG4gICAgfSk7XG4gIH0pO1xufVxuXG4vKiogQHRocm93cyBQcm9ibGVtIHZlcnNpb24tcmVmdXNlZDogd2hhdCB0aGUgdmVuZG9yIHNheXMgaXMgbm90IHdoYXQgdGhlIGVudmlyb25tZW50IGRlbWFuZHMgKi9cbmFzeW5jIGZ1bmN0aW9uIGRlbWFuZFZlcnNpb24od29ya3NwYWNlOiBXb3Jrc3BhY2UsIHNpZ25hbDogQWJvcnRTaWduYWwpOiBQcm9taXNlPHZvaWQ+IHtcbiAgY29uc3QgeyB2ZXJzaW9uLCB5YW1sIH0gPSB3b3Jrc3BhY2UuZW52aXJvbm1lbnQ7XG4gIGlmICghdmVyc2lvbikgcmV0dXJuO1xuICBjb25zdCB3aGVyZSA9IHlhbWwucG9zaXRpb24oWyd2ZXJzaW9uJ10pO1xuICBjb25zdCBmb3VuZCA9IGF3YWl0IHZlcnNpb25PZih3b3Jrc3BhY2UsIHZlcnNpb24sIHNpZ25hbCkuY2F0Y2goKGVycm9yOiB1bmtub3duKSA9PiB7XG4gICAgdGhyb3cgYXNQcm9ibGVtKGVycm9yKS5hdCh3aGVyZSk7XG4gIH0pO1xuICBjb25zdCB3YW50ZWQgPSBbXG4gICAgdmVyc2lvblsnYXQtbGVhc3QnXSAhPT0gdW5kZWZpbmVkICYmXG4gICAgICBjb21wYXJlVmVyc2lvbnMoZm91bmQsIHZlcnNpb25bJ2F0LWxlYXN0J10pIDwgMCAmJlxuICAgICAgYGF0IGxlYXN0ICR7dmVyc2lvblsnYXQtbGVhc3QnXX1gLFxuICAgIHZlcnNpb24udW5kZXIgIT09IHVuZGVmaW5lZCAmJiBjb21wYXJlVmVyc2lvbnMoZm91bmQsIHZlcnNpb24udW5kZXIpID49IDAgJiYgYHVuZGVyICR7dmVyc2lvbi51bmRlcn1gLFxuICBdLmZpbHRlcigodGV4dCkgPT4gdGV4dCAhPT0gZmFsc2UpO1xuICBpZiAod2FudGVkLmxlbmd0aCA9PT0gMCkgcmV0dXJuO1xuICB0aHJvdyBuZXcgUHJvYmxlbSgndmVyc2lvbi1yZWZ1c2VkJywge1xuICAgIHdoYXQ6IGB0aGUgdmVuZG9yJ3MgQVBJIGlzIG9mIHZlcnNpb24gJHtmb3VuZH0sIGFuZCB0aGUgZW52aXJvbm1lbnQgJHt3b3Jrc3BhY2UuZW52aXJvbm1lbnQubmFtZX0gd2FudHMgJHt3YW50ZWQuam9pbignIGFuZCAnKX1gLFxuICAgIHdoZXJlLFxuICAgIHJlbWVkeTogJ25vdGhpbmcgZWxzZSB3YXMgc2VudDsgY29tcGFyZSB0aGUgZG9jdW1lbnRhdGlvbiBvZiBib3RoIHZlcnNpb25zLCB0aGVuIGNoYW5nZSB2ZXJzaW9uIGluIHRoZSBlbnZpcm9ubWVudCcsXG4gICAgZGF0YTogeyB2ZXJzaW9uOiBmb3VuZCB9LFxuICB9KTtcbn1cblxuYXN5bmMgZnVuY3Rpb24gdmVyc2lvbk9mKFxuICB3b3Jrc3BhY2U6IFdvcmtzcGFjZSxcbiAgeyByZXF1ZXN0LCBhdCB9OiBOb25OdWxsYWJsZTxFbnZpcm9ubWVudEZpbGVbJ3ZlcnNpb24nXT4sXG4gIHNpZ25hbDogQWJvcnRTaWduYWwsXG4pOiBQcm9taXNlPHN0cmluZz4ge1xuICBjb25zdCBsb2FkczogUHJvbWlzZTx1bmtub3duPltdID0gW107XG4gIGNvbnN0IHBsYWNlID0gcmVhZFBsYWNlKGF0LCBsb2Fkcyk7XG4gIGF3YWl0IFByb21pc2UuYWxsKGxvYWRzKTtcbiAgY29uc3QgcHJlcGFyZWQgPSBhd2FpdCB3b3Jrc3BhY2UucHJlcGFyZShyZXF1ZXN0KTtcbiAgY29uc3QgeyBvdXRjb21lLCBwcm9ibGVtcyB9ID0gYXdhaXQgc2VuZFJlcXVlc3Qod29ya3NwYWNlLCBwcmVwYXJlZCwge1xuICAgIGdpdmVuOiAoKSA9PiB1bmRlZmluZWQsXG4gICAgY2FsbGVyOiBub05hbWVzLFxuICAgIHNpZ25hbCxcbiAgICBzdGVwOiAndmVyc2lvbicsXG4gIH0pO1xuICBjb25zdCBbZmlyc3RdID0gcHJvYmxlbXM7XG4gIGlmIChmaXJzdCkgdGhyb3cgZmlyc3Q7XG4gIGNvbnN0IHZhbHVlID0gb3V0Y29tZS5yZWNlaXZlZCAmJiBwbGFjZS5maW5kKG91dGNvbWUucmVjZWl2ZWQpO1xuICBpZiAodmFsdWUgPT09IHVuZGVmaW5lZCkge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCdwbGFjZS1ub3QtZm91bmQnLCB7IHdoYXQ6IGAke3JlcXVlc3R9IGhhcyBubyB2ZXJzaW9uIGF0ICR7YXR9YCwgcmVtZWR5OiAnY29ycmVjdCB2ZXJzaW9uOiBhdCcgfSk7XG4gIH1cbiAgcmV0dXJuIHRleHRPZih2YWx1ZSk7XG59XG4iLCAiLyoqIFdoYXQgYSB3YWxrIGNhbWUgdG8sIGluIHdvcmRzLiAqL1xuaW1wb3J0IHR5cGUgeyBTdW1tYXJ5IH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC9ldmVudHMuanMnO1xuaW1wb3J0IHR5cGUgeyBNYXRyaXggfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3J1bi9tYXRyaXguanMnO1xuaW1wb3J0IHsgZHVyYXRpb25UZXh0IH0gZnJvbSAnLi4vLi4vY29yZS92YWx1ZS9tZWFzdXJlcy5qcyc7XG5pbXBvcnQgdHlwZSB7IFRlcm1pbmFsIH0gZnJvbSAnLi4vdGVybWluYWwuanMnO1xuaW1wb3J0IHsgcHJpbnRhYmxlTGluZSB9IGZyb20gJy4vcHJpbnRhYmxlLmpzJztcbmltcG9ydCB7IHRhYmxlIH0gZnJvbSAnLi90YWJsZS5qcyc7XG5cbnR5cGUgSGlkZSA9ICh0ZXh0OiBzdHJpbmcpID0+IHN0cmluZztcblxuZXhwb3J0IGZ1bmN0aW9uIHN1bW1hcnlUZXh0KHN1bW1hcnk6IFN1bW1hcnksIG5hbWU6IHN0cmluZywgdGVybWluYWw6IFRlcm1pbmFsLCBoaWRlOiBIaWRlKTogc3RyaW5nIHtcbiAgY29uc3QgeyBvdXQgfSA9IHRlcm1pbmFsO1xuICBjb25zdCB7IHJvd3MsIHN0ZXBzLCBleHBlY3RhdGlvbnMsIHVuZG9uZSwgbm90VW5kb25lLCBpbkRvdWJ0LCB0aW1lLCBvaywgaW50ZXJydXB0ZWQsIHJ1biB9ID0gc3VtbWFyeTtcbiAgY29uc3Qgd29yZCA9IGludGVycnVwdGVkID8gb3V0LnllbGxvdygnaW50ZXJydXB0ZWQnKSA6IG9rID8gb3V0LmdyZWVuKCdhbGwgd2VsbCcpIDogb3V0LnJlZCgnZmFpbGVkJyk7XG4gIGNvbnN0IGZhY3RzID0gW1xuICAgIHJvd3MgJiYgcm93c1RleHQocm93cywgb3V0KSxcbiAgICBgJHtzdGVwc1RleHQoc3RlcHMpfSR7c3RlcHMuZmFpbGVkID4gMCA/IGAsICR7b3V0LnJlZChgJHtzdGVwcy5mYWlsZWR9IGZhaWxlZGApfWAgOiAnJ30ke3N0ZXBzLnNraXBwZWQgPiAwID8gYCwgJHtzdGVwcy5za2lwcGVkfSBza2lwcGVkYCA6ICcnfWAsXG4gICAgYCR7ZXhwZWN0YXRpb25zLm1ldH0gb2YgJHtleHBlY3RhdGlvbnMubWV0ICsgZXhwZWN0YXRpb25zLmZhaWxlZH0gZXhwZWN0YXRpb25zIG1ldGAsXG4gICAgdW5kb25lID4gMCAmJiBgJHt1bmRvbmV9IHVuZG9uZWAsXG4gICAgbm90VW5kb25lLmxlbmd0aCA+IDAgJiYgb3V0LnJlZChgJHtub3RVbmRvbmUubGVuZ3RofSBub3QgdW5kb25lYCksXG4gICAgZHVyYXRpb25UZXh0KHRpbWUpLFxuICBdLmZpbHRlcihCb29sZWFuKTtcbiAgY29uc3QgbGluZXMgPSBbYCR7b3V0LmJvbGQobmFtZSl9OiAke291dC5ib2xkKHdvcmQpfSAgICR7ZmFjdHMuam9pbignICAgJyl9ICAgJHtvdXQuZGltKGBydW4gJHtydW59YCl9YF07XG4gIGNvbnN0IHBhdGllbmNlID0gcGF0aWVuY2VUZXh0KHN1bW1hcnkpO1xuICBpZiAocGF0aWVuY2UpIGxpbmVzLnB1c2gocGF0aWVuY2UpO1xuICBsaW5lcy5wdXNoKC4uLmxpc3RlZCgnaW4gZG91YnQ6IHRoZXNlIG1heSBvciBtYXkgbm90IGhhdmUgaGFwcGVuZWQnLCBpbkRvdWJ0LCB0ZXJtaW5hbCwgaGlkZSkpO1xuICBsaW5lcy5wdXNoKC4uLmxpc3RlZCgnbm90IHVuZG9uZTogd2hhdCB0aGVzZSBtYWRlIG1heSBzdGlsbCBiZSB0aGVyZScsIG5vdFVuZG9uZSwgdGVybWluYWwsIGhpZGUpKTtcbiAgaWYgKG5vdFVuZG9uZS5sZW5ndGggPiAwKSBsaW5lcy5wdXNoKG91dC5kaW0oYCAgdHJ5IGVjaG8tdHJhaWwgcnVuIC0tdW5kbyAke3J1bn1gKSk7XG4gIGlmIChpbnRlcnJ1cHRlZCkgbGluZXMucHVzaChvdXQuZGltKGAgIHRvIGdvIG9uIHdpdGggaXQ6IGVjaG8tdHJhaWwgcnVuIC0tcmVzdW1lICR7cnVufWApKTtcbiAgZWxzZSBpZiAocm93cyAmJiByb3dzLmZhaWxlZCA+IDApIGxpbmVzLnB1c2gob3V0LmRpbShgICB0byB3YWxrIHdoYXQgZmFpbGVkOiBlY2hvLXRyYWlsIHJ1biAtLWZhaWxlZC1vZiAke3J1bn1gKSk7XG4gIHJldHVybiBsaW5lcy5qb2luKCdcXG4nKTtcbn1cblxuLyoqIFdoZXJlIG5vdGhpbmcgd2FzIHNlbnQuICovXG5leHBvcnQgZnVuY3Rpb24gZHJ5VGV4dCh7IG9rLCBzdGVwcyB9OiBTdW1tYXJ5LCBuYW1lOiBzdHJpbmcsIHsgb3V0IH06IFRlcm1pbmFsKTogc3RyaW5nIHtcbiAgY29uc3Qgd29yZCA9IG9rID8gb3V0LmdyZWVuKCdub3RoaW5nIHdhcyBzZW50JykgOiBvdXQucmVkKCdmYWlsZWQsIGFuZCBub3RoaW5nIHdhcyBzZW50Jyk7XG4gIHJldHVybiBgJHtvdXQuYm9sZChuYW1lKX06ICR7b3V0LmJvbGQod29yZCl9ICAgJHtzdGVwc1RleHQoc3RlcHMpfWA7XG59XG5cbmNvbnN0IHN0ZXBzVGV4dCA9ICh7IG9rLCBmYWlsZWQgfTogU3VtbWFyeVsnc3RlcHMnXSk6IHN0cmluZyA9PlxuICBgJHtvayArIGZhaWxlZH0gJHtvayArIGZhaWxlZCA9PT0gMSA/ICdzdGVwJyA6ICdzdGVwcyd9YDtcblxuZnVuY3Rpb24gcm93c1RleHQoeyBvaywgZmFpbGVkLCBiZWZvcmUgfTogTm9uTnVsbGFibGU8U3VtbWFyeVsncm93cyddPiwgb3V0OiBUZXJtaW5hbFsnb3V0J10pOiBzdHJpbmcge1xuICBjb25zdCBwYXJ0cyA9IFtgJHtva30gb2YgJHtvayArIGZhaWxlZH0gcm93c2BdO1xuICBpZiAoZmFpbGVkID4gMCkgcGFydHMucHVzaChvdXQucmVkKGAke2ZhaWxlZH0gZmFpbGVkYCkpO1xuICBpZiAoYmVmb3JlID4gMCkgcGFydHMucHVzaChgJHtiZWZvcmV9IG9mIHRoZW0gYmVmb3JlYCk7XG4gIHJldHVybiBwYXJ0cy5qb2luKCcsICcpO1xufVxuXG4vKiogSG93IG9mdGVuIGEgaG9zdCBhc2tlZCBmb3IgcGF0aWVuY2UsIHdoZXJlIG9uZSBkaWQuICovXG5mdW5jdGlvbiBwYXRpZW5jZVRleHQoeyByZWZ1c2VkLCB0cmllZEFnYWluLCB3YWl0ZWQgfTogU3VtbWFyeSk6IHN0cmluZyB8IHVuZGVmaW5lZCB7XG4gIGlmIChyZWZ1c2VkICsgdHJpZWRBZ2FpbiA9PT0gMCAmJiB3YWl0ZWQgPT09IDApIHJldHVybiB1bmRlZmluZWQ7XG4gIHJldHVybiBgICAke3JlZnVzZWR9IHJlZnVzZWQsICR7dHJpZWRBZ2Fpbn0gdHJpZWQgYWdhaW4sIHdhaXRlZCAke2R1cmF0aW9uVGV4dCh3YWl0ZWQpfWA7XG59XG5cbmZ1bmN0aW9uIGxpc3RlZChoZWFkOiBzdHJpbmcsIGl0ZW1zOiByZWFkb25seSBzdHJpbmdbXSwgeyBvdXQgfTogVGVybWluYWwsIGhpZGU6IEhpZGUpOiBzdHJpbmdbXSB7XG4gIGlmIChpdGVtcy5sZW5ndGggPT09IDApIHJldHVybiBbXTtcbiAgY29uc3Qgc2hvd24gPSBpdGVtcy5zbGljZSgwLCAyMCkubWFwKCh0ZXh0KSA9PiBgICAke3ByaW50YWJsZUxpbmUoaGlkZSh0ZXh0KSl9YCk7XG4gIGNvbnN0IG1vcmUgPSBpdGVtcy5sZW5ndGggLSBzaG93bi5sZW5ndGg7XG4gIHJldHVybiBbb3V0LnllbGxvdyhoZWFkKSwgLi4uc2hvd24sIC4uLihtb3JlID4gMCA/IFtgICBhbmQgJHttb3JlfSBtb3JlOiAtLWpzb24gbGlzdHMgdGhlbWBdIDogW10pXTtcbn1cblxuLyoqIEhvc3RzIGJ5IGNoZWNrcywgYW5kIGJlbG93IGl0IGVhY2ggZGV2aWF0aW9uLiAqL1xuZXhwb3J0IGZ1bmN0aW9uIG1hdHJpeFRleHQoeyBjaGVja3MsIHN1YmplY3RzLCBkZXZpYXRpb25zIH06IE1hdHJpeCwgdGVybWluYWw6IFRlcm1pbmFsLCBoaWRlOiBIaWRlKTogc3RyaW5nIHtcbiAgY29uc3QgeyBvdXQgfSA9IHRlcm1pbmFsO1xuICBjb25zdCBwYWludCA9IHtcbiAgICBvazogb3V0LmdyZWVuKCdvaycpLFxuICAgIGZhaWxlZDogb3V0LnJlZCgnZmFpbGVkJyksXG4gICAgdW5yZWFjaGFibGU6IG91dC5yZWQoJ25vIGFuc3dlcicpLFxuICAgIHNraXBwZWQ6IG91dC5kaW0oJ3NraXBwZWQnKSxcbiAgICAnJzogb3V0LmRpbSgnLScpLFxuICB9O1xuICBjb25zdCByb3dzID0gc3ViamVjdHNcbiAgICAuc2xpY2UoMCwgbW9zdFN1YmplY3RzKVxuICAgIC5tYXAoKHsgbmFtZSwgY2VsbHMgfSkgPT4gW3ByaW50YWJsZUxpbmUoaGlkZShuYW1lKSksIC4uLmNoZWNrcy5tYXAoKGNoZWNrKSA9PiBwYWludFtjZWxscy5nZXQoY2hlY2spID8/ICcnXSldKTtcbiAgY29uc3QgYmxvY2tzID0gW3RhYmxlKHJvd3MsIHRlcm1pbmFsLCB7IGhlYWQ6IFsnJywgLi4uY2hlY2tzXSwgZmxleGlibGU6IGNoZWNrcy5tYXAoKF8sIGluZGV4KSA9PiBpbmRleCArIDEpIH0pXTtcbiAgaWYgKHN1YmplY3RzLmxlbmd0aCA+IG1vc3RTdWJqZWN0cykgYmxvY2tzLnB1c2goYGFuZCAke3N1YmplY3RzLmxlbmd0aCAtIG1vc3RTdWJqZWN0c30gbW9yZTogLS1qc29uIGxpc3RzIHRoZW1gKTtcbiAgaWYgKGRldmlhdGlvbnMubGVuZ3RoID4gMCkge1xuICAgIGNvbnN0IGxpbmVzID0gZGV2aWF0aW9uc1xuICAgICAgLnNsaWNlKDAsIG1vc3REZXZpYXRpb25zKVxuICAgICAgLm1hcCgoeyBzdWJqZWN0LCBwbGFjZSwgZXhwZWN0ZWQsIGZvdW5kLCBlY2hvIH0pID0+IFtcbiAgICAgICAgLi4uW3N1YmplY3QsIHBsYWNlLCBleHBlY3RlZCwgZm91bmRdLm1hcCgodGV4dCkgPT4gcHJpbnRhYmxlTGluZShoaWRlKHRleHQpKSksXG4gICAgICAgIG91dC5kaW0oZWNobyksXG4gICAgICBdKTtcbiAgICBibG9ja3MucHVzaCgnJywgb3V0LmJvbGQoYCR7ZGV2aWF0aW9ucy5sZW5ndGh9ICR7ZGV2aWF0aW9ucy5sZW5ndGggPT09IDEgPyAnZGV2aWF0aW9uJyA6ICdkZXZpYXRpb25zJ31gKSk7XG4gICAgYmxvY2tzLnB1c2godGFibGUobGluZXMsIHRlcm1pbmFsLCB7IGhlYWQ6IFsnJywgJ2F0JywgJ2V4cGVjdGVkJywgJ2ZvdW5kJywgJ2VjaG8nXSwgZmxleGlibGU6IFsyLCAzXSB9KSk7XG4gICAgaWYgKGRldmlhdGlvbnMubGVuZ3RoID4gbW9zdERldmlhdGlvbnMpXG4gICAgICBibG9ja3MucHVzaChgYW5kICR7ZGV2aWF0aW9ucy5sZW5ndGggLSBtb3N0RGV2aWF0aW9uc30gbW9yZTogLS1qc29uIGxpc3RzIHRoZW1gKTtcbiAgfVxuICByZXR1cm4gYmxvY2tzLmpvaW4oJ1xcbicpO1xufVxuXG5jb25zdCBtb3N0U3ViamVjdHMgPSA2MDtcbmNvbnN0IG1vc3REZXZpYXRpb25zID0gNjA7XG4iLCAiLyoqIFdhbGtpbmcgd2hhdCBpcyBwbGFubmVkLCBhcyBvZnRlbiBhcyBpcyB3aXNoZWQsIGFuZCB0ZWxsaW5nIHdoYXQgaXQgY2FtZSB0by4gKi9cbmltcG9ydCB7IHNldFRpbWVvdXQgfSBmcm9tICdub2RlOnRpbWVycy9wcm9taXNlcyc7XG5pbXBvcnQgdHlwZSB7IFByb2JsZW0gfSBmcm9tICcuLi8uLi9jb3JlL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgdHlwZSB7IEpvdXJuYWwgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL2pvdXJuYWwvam91cm5hbC5qcyc7XG5pbXBvcnQgdHlwZSB7IFJ1bk9wdGlvbnMgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL2pvdXJuYWwvbGluZXMuanMnO1xuaW1wb3J0IHR5cGUgeyBNYXRyaXhNYWtlciB9IGZyb20gJy4uLy4uL2NvcmUvdHJhaWwvcnVuL21hdHJpeC5qcyc7XG5pbXBvcnQgdHlwZSB7IEhhbmRsZWQsIFRyYWlsUGxhbiB9IGZyb20gJy4uLy4uL2NvcmUvdHJhaWwvc3RlcC1raW5kLmpzJztcbmltcG9ydCB7IHdhbGtUcmFpbCB9IGZyb20gJy4uLy4uL2NvcmUvdHJhaWwvd2Fsay5qcyc7XG5pbXBvcnQgdHlwZSB7IFdvcmtzcGFjZSB9IGZyb20gJy4uLy4uL2NvcmUvdHJhaWwvd29ya3NwYWNlLmpzJztcbmltcG9ydCB7IGR1cmF0aW9uVGV4dCB9IGZyb20gJy4uLy4uL2NvcmUvdmFsdWUvbWVhc3VyZXMuanMnO1xuaW1wb3J0IHR5cGUgeyBDb250ZXh0IH0gZnJvbSAnLi4vY29udGV4dC5qcyc7XG5pbXBvcnQgeyBleGl0U3RhdHVzIH0gZnJvbSAnLi4vZXhpdC1zdGF0dXMuanMnO1xuaW1wb3J0IHsgcHJvYmxlbUxpbmVzIH0gZnJvbSAnLi4vdmlldy9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHN1bW1hcnlEb2N1bWVudCB9IGZyb20gJy4uL3ZpZXcvcnVuLWRvY3VtZW50cy5qcyc7XG5pbXBvcnQgeyBkcnlUZXh0LCBzdW1tYXJ5VGV4dCB9IGZyb20gJy4uL3ZpZXcvcnVuLXN1bW1hcnkuanMnO1xuaW1wb3J0IHR5cGUgeyBSdW5XaXNoZXMgfSBmcm9tICcuL29wdGlvbnMuanMnO1xuaW1wb3J0IHsgcmVwb3J0ZXIgfSBmcm9tICcuL3JlcG9ydGVyLmpzJztcblxuZXhwb3J0IGludGVyZmFjZSBXYWxraW5nIHtcbiAgcmVhZG9ubHkgd29ya3NwYWNlOiBXb3Jrc3BhY2U7XG4gIHJlYWRvbmx5IHBsYW5zOiByZWFkb25seSBUcmFpbFBsYW5bXTtcbiAgcmVhZG9ubHkgd2lzaGVzOiBSdW5XaXNoZXM7XG4gIHJlYWRvbmx5IGpvdXJuYWw6IEpvdXJuYWwgfCB1bmRlZmluZWQ7XG4gIHJlYWRvbmx5IG1hdHJpeDogTWF0cml4TWFrZXIgfCB1bmRlZmluZWQ7XG4gIC8qKiBOYW1lZCB3aGVyZSB0aGVyZSBhcmUgc2V2ZXJhbC4gKi9cbiAgcmVhZG9ubHkgZW52aXJvbm1lbnQ6IHN0cmluZyB8IHVuZGVmaW5lZDtcbiAgLyoqIFdoYXQgd2FzIGFza2VkIGZvciwgbm93IG9yIGJ5IHRoZSBjb21tYW5kIHRoYXQgaXMgZ29uZSBvbiB3aXRoLiAqL1xuICByZWFkb25seSBvcHRpb25zOiBSdW5PcHRpb25zO1xufVxuXG4vKiogQHJldHVybnMgdGhlIGV4aXQgc3RhdHVzICovXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gd2Fsa1BsYW5zKHdhbGtpbmc6IFdhbGtpbmcsIGNvbnRleHQ6IENvbnRleHQpOiBQcm9taXNlPG51bWJlcj4ge1xuICBjb25zdCB7IHdpc2hlcywgb3B0aW9ucyB9ID0gd2Fsa2luZztcbiAgY29uc3QgeyByZXBlYXQsIGV2ZXJ5LCB1bnRpbCB9ID0gb3B0aW9ucztcbiAgY29uc3QgaGFuZGxlZCA9IGhhbmRsZWRCZWZvcmUod2Fsa2luZy5qb3VybmFsKTtcbiAgbGV0IHN0YXR1cyA9IDA7XG4gIGZvciAobGV0IHBhc3MgPSAwOyByZXBlYXQgPT09IHVuZGVmaW5lZCB8fCBwYXNzIDwgcmVwZWF0OyBwYXNzICs9IDEpIHtcbiAgICBjb25zdCBiZWdhbiA9IHBlcmZvcm1hbmNlLm5vdygpO1xuICAgIGNvbnN0IHsgc3RhdHVzOiBvd24sIHdhbGtlZCB9ID0gYXdhaXQgd2Fsa1Bhc3MocGFzcywgd2Fsa2luZywgY29udGV4dCwgaGFuZGxlZCk7XG4gICAgc3RhdHVzID0gd29yc2Uoc3RhdHVzLCBvd24pO1xuICAgIGNvbnN0IGVub3VnaCA9IHVudGlsICE9PSB1bmRlZmluZWQgJiYgKHVudGlsID09PSAnb2snKSA9PT0gKG93biA9PT0gMCk7XG4gICAgLy8gV2hhdCBpcyB3YWl0ZWQgZm9yIGhhcyBjb21lOiB0aGF0IGl0IHdhcyBub3QgdGhlcmUgYmVmb3JlIGlzIG5vIGZhaWx1cmUuXG4gICAgaWYgKGVub3VnaCAmJiB1bnRpbCA9PT0gJ29rJykgc3RhdHVzID0gMDtcbiAgICBpZiAoY29udGV4dC5zaWduYWwuYWJvcnRlZCB8fCBlbm91Z2ggfHwgKHdpc2hlcy5zdG9wQXRGaXJzdEZhaWx1cmUgJiYgb3duICE9PSAwKSkgYnJlYWs7XG4gICAgLy8gV2hhdCBhbiBlYXJsaWVyIGNvbW1hbmQgd2Fsa2VkIG5lZWRzIG5vIHJlc3QuXG4gICAgaWYgKHdhbGtlZCAmJiAocmVwZWF0ID09PSB1bmRlZmluZWQgfHwgcGFzcyArIDEgPCByZXBlYXQpKSBhd2FpdCByZXN0KGV2ZXJ5IC0gKHBlcmZvcm1hbmNlLm5vdygpIC0gYmVnYW4pLCBjb250ZXh0KTtcbiAgICBpZiAoY29udGV4dC5zaWduYWwuYWJvcnRlZCkgcmV0dXJuIDEzMDtcbiAgfVxuICByZXR1cm4gc3RhdHVzO1xufVxuXG5jb25zdCBoYW5kbGVkQmVmb3JlID0gKGpvdXJuYWw6IEpvdXJuYWwgfCB1bmRlZmluZWQpOiBIYW5kbGVkID0+XG4gIG5ldyBNYXAoWy4uLihqb3VybmFsPy5oYW5kbGVkQmVmb3JlKCkgPz8gW10pXS5tYXAoKFt3aGVyZSwga2V5c10pID0+IFt3aGVyZSwgbmV3IFNldChrZXlzKV0pKTtcblxuLyoqIEFsbCBwbGFucyBvbmNlLiAqL1xuYXN5bmMgZnVuY3Rpb24gd2Fsa1Bhc3MoXG4gIHBhc3M6IG51bWJlcixcbiAgd2Fsa2luZzogV2Fsa2luZyxcbiAgY29udGV4dDogQ29udGV4dCxcbiAgaGFuZGxlZDogSGFuZGxlZCxcbik6IFByb21pc2U8eyByZWFkb25seSBzdGF0dXM6IG51bWJlcjsgcmVhZG9ubHkgd2Fsa2VkOiBib29sZWFuIH0+IHtcbiAgY29uc3QgeyBwbGFucywgd2lzaGVzLCBqb3VybmFsLCBvcHRpb25zIH0gPSB3YWxraW5nO1xuICBsZXQgc3RhdHVzID0gMDtcbiAgbGV0IHdhbGtlZCA9IGZhbHNlO1xuICBmb3IgKGNvbnN0IFtpbmRleCwgcGxhbl0gb2YgcGxhbnMuZW50cmllcygpKSB7XG4gICAgY29uc3QgbnVtYmVyID0gcGFzcyAqIHBsYW5zLmxlbmd0aCArIGluZGV4O1xuICAgIGNvbnN0IGJlZm9yZSA9IGpvdXJuYWw/LndhbGtCZWZvcmUobnVtYmVyKTtcbiAgICBjb25zdCBwYXJ0ID0gb3B0aW9ucy5wYXJ0cz8uW2luZGV4XSA/PyAnYWxsJztcbiAgICBpZiAoYmVmb3JlID09PSBmYWxzZSkgc3RhdHVzID0gd29yc2Uoc3RhdHVzLCAxKTtcbiAgICBpZiAoYmVmb3JlICE9PSB1bmRlZmluZWQgfHwgcGFydCA9PT0gJ25vbmUnKSBjb250aW51ZTtcbiAgICB3YWxrZWQgPSB0cnVlO1xuICAgIGNvbnN0IHJvd3MgPSBwYXJ0ID09PSAnYWxsJyA/IHVuZGVmaW5lZCA6IG5ldyBTZXQocGFydCk7XG4gICAgY29uc3QgcHJvYmxlbSA9IGF3YWl0IHdhbGtPbmUocGxhbiwgbnVtYmVyLCB3YWxraW5nLCBjb250ZXh0LCBoYW5kbGVkLCByb3dzKTtcbiAgICBzdGF0dXMgPSB3b3JzZShzdGF0dXMsIGV4aXRTdGF0dXMocHJvYmxlbSkpO1xuICAgIGlmIChjb250ZXh0LnNpZ25hbC5hYm9ydGVkIHx8ICh3aXNoZXMuc3RvcEF0Rmlyc3RGYWlsdXJlICYmIHByb2JsZW0pKSBicmVhaztcbiAgfVxuICByZXR1cm4geyBzdGF0dXMsIHdhbGtlZCB9O1xufVxuXG5hc3luYyBmdW5jdGlvbiB3YWxrT25lKFxuICBwbGFuOiBUcmFpbFBsYW4sXG4gIG51bWJlcjogbnVtYmVyLFxuICB7IHdvcmtzcGFjZSwgd2lzaGVzLCBqb3VybmFsLCBtYXRyaXgsIGVudmlyb25tZW50IH06IFdhbGtpbmcsXG4gIHsgdGVybWluYWwsIHNpZ25hbCwgc2Vjb25kU2lnbmFsIH06IENvbnRleHQsXG4gIGhhbmRsZWQ6IEhhbmRsZWQsXG4gIHJvd3M6IFJlYWRvbmx5U2V0PG51bWJlcj4gfCB1bmRlZmluZWQsXG4pOiBQcm9taXNlPFByb2JsZW0gfCB1bmRlZmluZWQ+IHtcbiAgY29uc3QgeyByZXBvcnQsIGVuZCB9ID0gcmVwb3J0ZXIocGxhbiwgd29ya3NwYWNlLCB0ZXJtaW5hbCwgbWF0cml4LCBlbnZpcm9ubWVudCk7XG4gIGNvbnN0IHsgaGlkZSB9ID0gd29ya3NwYWNlLnJlZGFjdG9yO1xuICBjb25zdCB7IHN0b3BBdEZpcnN0RmFpbHVyZSB9ID0gd2lzaGVzO1xuICBjb25zdCBzZXR0aW5ncyA9IHsgcmVwb3J0LCBzaWduYWwsIHVuZG9TaWduYWw6IHNlY29uZFNpZ25hbCwgbnVtYmVyLCBqb3VybmFsLCByb3dzLCBzdG9wQXRGaXJzdEZhaWx1cmUsIGhhbmRsZWQgfTtcbiAgY29uc3Qgc3VtbWFyeSA9IGF3YWl0IHdhbGtUcmFpbCh3b3Jrc3BhY2UsIHBsYW4sIHNldHRpbmdzKS5maW5hbGx5KGVuZCk7XG4gIGlmIChtYXRyaXggJiYgZW52aXJvbm1lbnQgPT09IHVuZGVmaW5lZCkgbWF0cml4LmVuZGVkKHBsYW4ubmFtZSk7XG4gIGlmICh0ZXJtaW5hbC5qc29uKSB7XG4gICAgY29uc3QgZG9jdW1lbnQgPSBzdW1tYXJ5RG9jdW1lbnQoc3VtbWFyeSwgcGxhbi5uYW1lKTtcbiAgICB0ZXJtaW5hbC5wcmludChoaWRlKEpTT04uc3RyaW5naWZ5KGVudmlyb25tZW50ID09PSB1bmRlZmluZWQgPyBkb2N1bWVudCA6IHsgLi4uZG9jdW1lbnQsIGVudmlyb25tZW50IH0pKSk7XG4gIH0gZWxzZSBpZiAod29ya3NwYWNlLmRyeVJ1bikgdGVybWluYWwucHJpbnQoZHJ5VGV4dChzdW1tYXJ5LCBwbGFuLm5hbWUsIHRlcm1pbmFsKSk7XG4gIGVsc2UgdGVybWluYWwucHJpbnQoc3VtbWFyeVRleHQoc3VtbWFyeSwgcGxhbi5uYW1lLCB0ZXJtaW5hbCwgaGlkZSkpO1xuICBpZiAoc3VtbWFyeS5lbmRlZCAmJiAhdGVybWluYWwuanNvbikgdGVybWluYWwuY29tcGxhaW4ocHJvYmxlbUxpbmVzKHN1bW1hcnkuZW5kZWQsIHRlcm1pbmFsLmVyciwgaGlkZSkpO1xuICByZXR1cm4gc3VtbWFyeS5wcm9ibGVtO1xufVxuXG4vKiogVW50aWwgdGhlIG5leHQgYmVnaW5zLCBvciBzb21lYm9keSBlbmRzIGl0LiAqL1xuYXN5bmMgZnVuY3Rpb24gcmVzdChtczogbnVtYmVyLCB7IHRlcm1pbmFsLCBzaWduYWwgfTogQ29udGV4dCk6IFByb21pc2U8dm9pZD4ge1xuICBjb25zdCB1bnRpbCA9IHBlcmZvcm1hbmNlLm5vdygpICsgbXM7XG4gIGlmIChtcyA+IDEwMDApIHRlcm1pbmFsLm5vdGUodGVybWluYWwuZXJyLmRpbShgYWdhaW4gaW4gJHtkdXJhdGlvblRleHQobXMpfWApKTtcbiAgd2hpbGUgKCFzaWduYWwuYWJvcnRlZCAmJiBwZXJmb3JtYW5jZS5ub3coKSA8IHVudGlsKSB7XG4gICAgY29uc3QgbGVmdCA9IHVudGlsIC0gcGVyZm9ybWFuY2Uubm93KCk7XG4gICAgYXdhaXQgc2V0VGltZW91dChNYXRoLm1pbihsZWZ0LCAxMDAwKSwgdW5kZWZpbmVkLCB7IHNpZ25hbCB9KS5jYXRjaCgoKSA9PiB1bmRlZmluZWQpO1xuICB9XG59XG5cbi8qKiBCeSB0aGUgb3JkZXIgb2YgdGhlIGV4aXQgc3RhdHVzZXM6IDEzMCwgMiwgNCwgMywgMSwgMC4gKi9cbmV4cG9ydCBmdW5jdGlvbiB3b3JzZShvbmU6IG51bWJlciwgb3RoZXI6IG51bWJlcik6IG51bWJlciB7XG4gIGNvbnN0IG9yZGVyID0gWzAsIDEsIDMsIDQsIDIsIDEzMF07XG4gIHJldHVybiBvcmRlci5pbmRleE9mKG9uZSkgPj0gb3JkZXIuaW5kZXhPZihvdGhlcikgPyBvbmUgOiBvdGhlcjtcbn1cbiIsICIvKiogV2hhdCBhIHdhbGsgY291bnRzIHdoaWxlIGl0IGhhcHBlbnMuICovXG5pbXBvcnQgdHlwZSB7IFByb2JsZW0gfSBmcm9tICcuLi9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHR5cGUgeyBTdW1tYXJ5LCBVbmRvRXZlbnQsIFdhbGtFdmVudCB9IGZyb20gJy4vZXZlbnRzLmpzJztcbmltcG9ydCB0eXBlIHsgUGF0aWVuY2UgfSBmcm9tICcuL3BhY2luZy90cmllcy5qcyc7XG5cbi8qKiBNdXRhYmxlIGNvdW50cyBvZiBvbmUgd2Fsay4gKi9cbmV4cG9ydCBpbnRlcmZhY2UgVGFsbHkge1xuICByb3dzOiB7IG9rOiBudW1iZXI7IGZhaWxlZDogbnVtYmVyOyBiZWZvcmU6IG51bWJlciB9O1xuICBzdGVwczogeyBvazogbnVtYmVyOyBmYWlsZWQ6IG51bWJlcjsgc2tpcHBlZDogbnVtYmVyIH07XG4gIGV4cGVjdGF0aW9uczogeyBtZXQ6IG51bWJlcjsgZmFpbGVkOiBudW1iZXIgfTtcbiAgdW5kb25lOiBudW1iZXI7XG4gIG5vdFVuZG9uZTogc3RyaW5nW107XG4gIGluRG91YnQ6IHN0cmluZ1tdO1xuICBlbmRlZDogUHJvYmxlbSB8IHVuZGVmaW5lZDtcbiAgcHJvYmxlbTogUHJvYmxlbSB8IHVuZGVmaW5lZDtcbn1cblxuZXhwb3J0IGNvbnN0IG5ld1RhbGx5ID0gKCk6IFRhbGx5ID0+ICh7XG4gIHJvd3M6IHsgb2s6IDAsIGZhaWxlZDogMCwgYmVmb3JlOiAwIH0sXG4gIHN0ZXBzOiB7IG9rOiAwLCBmYWlsZWQ6IDAsIHNraXBwZWQ6IDAgfSxcbiAgZXhwZWN0YXRpb25zOiB7IG1ldDogMCwgZmFpbGVkOiAwIH0sXG4gIHVuZG9uZTogMCxcbiAgbm90VW5kb25lOiBbXSxcbiAgaW5Eb3VidDogW10sXG4gIGVuZGVkOiB1bmRlZmluZWQsXG4gIHByb2JsZW06IHVuZGVmaW5lZCxcbn0pO1xuXG5leHBvcnQgZnVuY3Rpb24gY291bnQoZXZlbnQ6IFdhbGtFdmVudCwgdGFsbHk6IFRhbGx5KTogdm9pZCB7XG4gIGlmIChldmVudC5ldmVudCA9PT0gJ3N0ZXAnKSB7XG4gICAgdGFsbHkuc3RlcHNbZXZlbnQuc3RhdGVdICs9IDE7XG4gICAgZm9yIChjb25zdCB7IG9rIH0gb2YgZXZlbnQuc2VudD8udmVyZGljdHMgPz8gW10pIHRhbGx5LmV4cGVjdGF0aW9uc1tvayA/ICdtZXQnIDogJ2ZhaWxlZCddICs9IDE7XG4gIH0gZWxzZSBpZiAoZXZlbnQuZXZlbnQgPT09ICdyb3cnKSB0YWxseS5yb3dzW2V2ZW50Lm9rID8gJ29rJyA6ICdmYWlsZWQnXSArPSAxO1xuICBlbHNlIGlmIChldmVudC5ldmVudCA9PT0gJ3VuZG8nKSB7XG4gICAgaWYgKGV2ZW50LnN0YXRlID09PSAnZG9uZScpIHRhbGx5LnVuZG9uZSArPSAxO1xuICAgIGlmIChldmVudC5zdGF0ZSA9PT0gJ2ZhaWxlZCcgfHwgZXZlbnQuc3RhdGUgPT09ICdpbXBvc3NpYmxlJykgdGFsbHkubm90VW5kb25lLnB1c2gobGVmdFRleHQoZXZlbnQpKTtcbiAgfVxufVxuXG4vKiogV2hhdCBjb3VsZCBub3QgYmUgdGFrZW4gYmFjay4gKi9cbmNvbnN0IGxlZnRUZXh0ID0gKHsgc3RlcCwgbGFiZWwsIHJvdywgcHJvYmxlbSB9OiBVbmRvRXZlbnQpOiBzdHJpbmcgPT5cbiAgYCR7cm93ID09PSB1bmRlZmluZWQgPyAnJyA6IGByb3cgJHtyb3d9OiBgfSR7c3RlcH0gYnkgJHtsYWJlbH0ke3Byb2JsZW0gPyBgOiAke3Byb2JsZW0ud2hhdH1gIDogJyd9YDtcblxuZXhwb3J0IGZ1bmN0aW9uIHN1bW1hcnlPZihcbiAgdGFsbHk6IFRhbGx5LFxuICBmYWN0czogUGljazxTdW1tYXJ5LCAncnVuJyB8ICdpbnRlcnJ1cHRlZCcgfCAndGltZSc+ICYgeyByZWFkb25seSBoYXNSb3dzOiBib29sZWFuOyByZWFkb25seSBwYXRpZW5jZTogUGF0aWVuY2UgfSxcbik6IFN1bW1hcnkge1xuICBjb25zdCB7IHJvd3MsIC4uLmNvdW50cyB9ID0gdGFsbHk7XG4gIGNvbnN0IHsgcnVuLCBpbnRlcnJ1cHRlZCwgdGltZSwgaGFzUm93cywgcGF0aWVuY2UgfSA9IGZhY3RzO1xuICByZXR1cm4ge1xuICAgIHJ1bixcbiAgICBvazogdGFsbHkucHJvYmxlbSA9PT0gdW5kZWZpbmVkLFxuICAgIGludGVycnVwdGVkLFxuICAgIHJvd3M6IGhhc1Jvd3MgPyByb3dzIDogdW5kZWZpbmVkLFxuICAgIC4uLmNvdW50cyxcbiAgICAuLi5wYXRpZW5jZSxcbiAgICB0aW1lLFxuICB9O1xufVxuIiwgIi8qKiBBIHRyYWlsIG9uY2UgYSByb3cuICovXG5pbXBvcnQgeyBzaG9ydFRleHQgfSBmcm9tICcuLi9tYXRjaGVyL3JlYWRpbmcuanMnO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgdHlwZSB7IFZhbHVlTWFwIH0gZnJvbSAnLi4vdmFsdWUvd3JpdHRlbi5qcyc7XG5pbXBvcnQgeyBncmF2ZXIgfSBmcm9tICcuL2dyYXZpdHkuanMnO1xuaW1wb3J0IHR5cGUgeyBKb3VybmFsIH0gZnJvbSAnLi9qb3VybmFsL2pvdXJuYWwuanMnO1xuaW1wb3J0IHsgbWFueUF0T25jZSB9IGZyb20gJy4vbWFueS5qcyc7XG5pbXBvcnQgdHlwZSB7IFJvdyB9IGZyb20gJy4vcm93cy9yb3ctc291cmNlLmpzJztcbmltcG9ydCB0eXBlIHsgUm93c1BsYW4gfSBmcm9tICcuL3Jvd3Mvcm93cy1wbGFuLmpzJztcbmltcG9ydCB0eXBlIHsgU2NvcGUgfSBmcm9tICcuL3Njb3BlLmpzJztcbmltcG9ydCB7IGZyb21Db21tYW5kTGluZSwgaW5wdXRTY29wZSwgc3RhcnRTY29wZSB9IGZyb20gJy4vc3RhcnQtc2NvcGUuanMnO1xuaW1wb3J0IHR5cGUgeyBUcmFpbFBsYW4sIFdhbGsgfSBmcm9tICcuL3N0ZXAta2luZC5qcyc7XG5pbXBvcnQgeyBsaW5lT2YsIG9wZW5UYWJsZSwgc2V0dGxlVGFibGUsIHR5cGUgVGFibGUgfSBmcm9tICcuL3RhYmxlLmpzJztcbmltcG9ydCB0eXBlIHsgVGFsbHkgfSBmcm9tICcuL3RhbGx5LmpzJztcbmltcG9ydCB7IHR5cGUgV2Fsa2VkLCB3YWxrV2l0aFVuZG8gfSBmcm9tICcuL3VuZG9pbmcuanMnO1xuaW1wb3J0IHR5cGUgeyBXYWxrU2V0dGluZ3MgfSBmcm9tICcuL3dhbGsuanMnO1xuaW1wb3J0IHR5cGUgeyBXb3Jrc3BhY2UgfSBmcm9tICcuL3dvcmtzcGFjZS5qcyc7XG5cbi8qKiBTbyBtYW55IGF0IG9uY2UsIGFzIHRoZXkgY29tZTsgbWVtb3J5IGhvbGRzIG9ubHkgdGhvc2UuICovXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gd2Fsa1Jvd3MoXG4gIHBsYW46IFRyYWlsUGxhbixcbiAgcm93czogUm93c1BsYW4sXG4gIHdvcmtzcGFjZTogV29ya3NwYWNlLFxuICB3YWxrT2Y6IChzY29wZTogU2NvcGUsIHJvdzogbnVtYmVyLCBsYWJlbDogc3RyaW5nKSA9PiBXYWxrLFxuICB0YWxseTogVGFsbHksXG4gIHsgam91cm5hbCwgbnVtYmVyID0gMCwgcm93czogb25seSwgc2lnbmFsLCB1bmRvU2lnbmFsLCByZXBvcnQgfTogV2Fsa1NldHRpbmdzLFxuICBlbmRpbmc6IEFib3J0U2lnbmFsLFxuKTogUHJvbWlzZTx2b2lkPiB7XG4gIGNvbnN0IGdpdmVuID0gZnJvbUNvbW1hbmRMaW5lKHdvcmtzcGFjZSk7XG4gIC8vIFdoZXJlIG5vdGhpbmcgaXMgc2VudCwgdGhlcmUgYXJlIG5vIGFuc3dlcnMgdG8gbWFrZSBsaW5lcyBvZi5cbiAgY29uc3QgbGluZXMgPSB3b3Jrc3BhY2UuZHJ5UnVuID8gdW5kZWZpbmVkIDogcGxhbi50YWJsZTtcbiAgY29uc3QgdGFibGUgPSBsaW5lcyAmJiAoYXdhaXQgb3BlblRhYmxlKGxpbmVzLCB3b3Jrc3BhY2UuY29sbGVjdGlvbi5yb290KSk7XG4gIGNvbnN0IHNvdXJjZSA9IHJvd3MucmVhZCh3b3Jrc3BhY2UsIGlucHV0U2NvcGUocGxhbiwgd29ya3NwYWNlLCBnaXZlbikpO1xuICBjb25zdCBlbmRlZCA9IGF3YWl0IG1hbnlBdE9uY2UoXG4gICAgc291cmNlW1N5bWJvbC5hc3luY0l0ZXJhdG9yXSgpLFxuICAgIHBsYW4uYXRPbmNlLFxuICAgIGFzeW5jIChyb3cpID0+IHtcbiAgICAgIGlmIChvbmx5ICYmICFvbmx5Lmhhcyhyb3cubnVtYmVyKSkgcmV0dXJuO1xuICAgICAgY29uc3QgYmVmb3JlID0gam91cm5hbD8ucm93QmVmb3JlKG51bWJlciwgcm93Lm51bWJlcik7XG4gICAgICBpZiAoYmVmb3JlICE9PSB1bmRlZmluZWQpIHtcbiAgICAgICAgYXdhaXQga2VwdExpbmUodGFibGUsIHJvdy5udW1iZXIsIGpvdXJuYWwsIGAke251bWJlcn0uJHtyb3cubnVtYmVyfWApO1xuICAgICAgICB0YWxseS5yb3dzW2JlZm9yZSA/ICdvaycgOiAnZmFpbGVkJ10gKz0gMTtcbiAgICAgICAgdGFsbHkucm93cy5iZWZvcmUgKz0gMTtcbiAgICAgICAgaWYgKCFiZWZvcmUpIHRhbGx5LnByb2JsZW0gPSBncmF2ZXIodGFsbHkucHJvYmxlbSwgZmFpbGVkQmVmb3JlKHJvdykpO1xuICAgICAgICByZXR1cm47XG4gICAgICB9XG4gICAgICBjb25zdCBsYWJlbCA9IGxhYmVsT2Yocm93KTtcbiAgICAgIGNvbnN0IHdhbGsgPSB3YWxrT2Yoc3RhcnRTY29wZShwbGFuLCB3b3Jrc3BhY2UsIGdpdmVuLCByb3cpLCByb3cubnVtYmVyLCBsYWJlbCk7XG4gICAgICBjb25zdCB7IHByb2JsZW0sIHRha2VuQmFjayB9ID0gYXdhaXQgd2Fsa1JvdyhwbGFuLCB3YWxrLCByb3csIHRhYmxlLCB1bmRvU2lnbmFsKTtcbiAgICAgIC8vIEEgcm93IHRoYXQgd2FzIGludGVycnVwdGVkIGlzIGdvbmUgb24gd2l0aCB3aGVuIHRoZSBydW4gaXMgcmVzdW1lZCwgdW5sZXNzIGl0IHdhcyB0YWtlbiBiYWNrLlxuICAgICAgaWYgKHNpZ25hbC5hYm9ydGVkICYmIHByb2JsZW0gJiYgIXRha2VuQmFjaykgcmV0dXJuO1xuICAgICAgcmVwb3J0KHsgZXZlbnQ6ICdyb3cnLCByb3c6IHJvdy5udW1iZXIsIG9rOiAhcHJvYmxlbSwgbGFiZWwsIHByb2JsZW0gfSk7XG4gICAgICBqb3VybmFsPy5yb3cobnVtYmVyLCByb3cubnVtYmVyLCBsYWJlbCwgcHJvYmxlbSk7XG4gICAgICBpZiAocHJvYmxlbSkgdGFsbHkucHJvYmxlbSA9IGdyYXZlcih0YWxseS5wcm9ibGVtLCBwcm9ibGVtKTtcbiAgICB9LFxuICAgIGVuZGluZyxcbiAgKTtcbiAgdGFsbHkuZW5kZWQgPSBlbmRlZDtcbiAgaWYgKGVuZGVkKSB0YWxseS5wcm9ibGVtID0gZ3JhdmVyKHRhbGx5LnByb2JsZW0sIGVuZGVkKTtcbiAgaWYgKCFsaW5lcyB8fCAhdGFibGUpIHJldHVybjtcbiAgaWYgKGVuZGluZy5hYm9ydGVkKSByZXR1cm4gdGFibGUuYWJhbmRvbigpO1xuICByZXBvcnQoYXdhaXQgc2V0dGxlVGFibGUobGluZXMsIHRhYmxlLCBwbGFuLm5hbWUsIHVuZGVmaW5lZCkpO1xufVxuXG5hc3luYyBmdW5jdGlvbiB3YWxrUm93KFxuICBwbGFuOiBUcmFpbFBsYW4sXG4gIHdhbGs6IFdhbGssXG4gIHJvdzogUm93LFxuICB0YWJsZTogVGFibGUgfCB1bmRlZmluZWQsXG4gIHVuZG9TaWduYWw6IEFib3J0U2lnbmFsIHwgdW5kZWZpbmVkLFxuKTogUHJvbWlzZTxXYWxrZWQ+IHtcbiAgY29uc3Qgd2Fsa2VkID0gYXdhaXQgd2Fsa1dpdGhVbmRvKHBsYW4sIHdhbGssIHVuZG9TaWduYWwpO1xuICBpZiAoIXBsYW4udGFibGUgfHwgIXRhYmxlKSByZXR1cm4gd2Fsa2VkO1xuICBjb25zdCB7IGNlbGxzLCBwcm9ibGVtIH0gPSBsaW5lT2YocGxhbi50YWJsZSwgd2Fsaywgd2Fsa2VkLnByb2JsZW0pO1xuICB3YWxrLmpvdXJuYWw/LmNlbGxzKHdhbGsuYXQsIGNlbGxzKTtcbiAgYXdhaXQgdGFibGUuYWRkKHJvdy5udW1iZXIsIGNlbGxzKTtcbiAgcmV0dXJuIHsgLi4ud2Fsa2VkLCBwcm9ibGVtIH07XG59XG5cbi8qKiBUaGUgbGluZSB0aGF0IGEgcm93IGxlZnQgaW4gYW4gZWFybGllciBjb21tYW5kLiAqL1xuYXN5bmMgZnVuY3Rpb24ga2VwdExpbmUoXG4gIHRhYmxlOiBUYWJsZSB8IHVuZGVmaW5lZCxcbiAgbnVtYmVyOiBudW1iZXIsXG4gIGpvdXJuYWw6IEpvdXJuYWwgfCB1bmRlZmluZWQsXG4gIGF0OiBzdHJpbmcsXG4pOiBQcm9taXNlPHZvaWQ+IHtcbiAgY29uc3QgY2VsbHMgPSBqb3VybmFsPy5jZWxsc0JlZm9yZShhdCkgYXMgVmFsdWVNYXAgfCB1bmRlZmluZWQ7XG4gIGlmICh0YWJsZSAmJiBjZWxscykgYXdhaXQgdGFibGUuYWRkKG51bWJlciwgY2VsbHMpO1xufVxuXG5jb25zdCBmYWlsZWRCZWZvcmUgPSAoeyBudW1iZXIgfTogUm93KTogUHJvYmxlbSA9PlxuICBuZXcgUHJvYmxlbSgnc3RlcC1mYWlsZWQnLCB7IHdoYXQ6IGByb3cgJHtudW1iZXJ9IGZhaWxlZCBiZWZvcmUgdGhlIHJ1biB3YXMgcmVzdW1lZGAgfSk7XG5cbi8qKiBXaGF0IGEgcm93IGlzIHRvbGQgYXBhcnQgYnk6IHRoZSB2YWx1ZSBvZiBpdHMgZmlyc3QgY29sdW1uLiAqL1xuZnVuY3Rpb24gbGFiZWxPZih7IGNvbHVtbnMgfTogUm93KTogc3RyaW5nIHtcbiAgZm9yIChjb25zdCBuYW1lIGluIGNvbHVtbnMpIHJldHVybiBzaG9ydFRleHQoY29sdW1uc1tuYW1lXSkucmVwbGFjZSgvXlwifFwiJC9nLCAnJyk7XG4gIHJldHVybiAnJztcbn1cbiIsICIvKiogVGhlIGVuZ2luZTogYSB0cmFpbCBvbmNlLCBvciBvbmNlIGEgcm93LCBzbyBtYW55IGF0IG9uY2U7IHVuZG8gcGFydHMgYWZ0ZXIsIHNlc3Npb25zIGNsb3NlZCBsYXN0LiAqL1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgeyBjbG9zZVNlc3Npb25zIH0gZnJvbSAnLi9jbG9zaW5nLmpzJztcbmltcG9ydCB0eXBlIHsgU3VtbWFyeSwgV2Fsa0V2ZW50IH0gZnJvbSAnLi9ldmVudHMuanMnO1xuaW1wb3J0IHsgZ3JhdmVyIH0gZnJvbSAnLi9ncmF2aXR5LmpzJztcbmltcG9ydCB0eXBlIHsgSm91cm5hbCB9IGZyb20gJy4vam91cm5hbC9qb3VybmFsLmpzJztcbmltcG9ydCB0eXBlIHsgU2NvcGUgfSBmcm9tICcuL3Njb3BlLmpzJztcbmltcG9ydCB7IGZyb21Db21tYW5kTGluZSwgc3RhcnRTY29wZSB9IGZyb20gJy4vc3RhcnQtc2NvcGUuanMnO1xuaW1wb3J0IHR5cGUgeyBIYW5kbGVkLCBUcmFpbFBsYW4sIFdhbGsgfSBmcm9tICcuL3N0ZXAta2luZC5qcyc7XG5pbXBvcnQgeyBjb3VudCwgbmV3VGFsbHksIHN1bW1hcnlPZiB9IGZyb20gJy4vdGFsbHkuanMnO1xuaW1wb3J0IHsgd2Fsa1dpdGhVbmRvIH0gZnJvbSAnLi91bmRvaW5nLmpzJztcbmltcG9ydCB7IHdhbGtSb3dzIH0gZnJvbSAnLi93YWxrLXJvd3MuanMnO1xuaW1wb3J0IHsgd2Fsa1N0ZXBzIH0gZnJvbSAnLi93YWxrLXN0ZXBzLmpzJztcbmltcG9ydCB0eXBlIHsgV29ya3NwYWNlIH0gZnJvbSAnLi93b3Jrc3BhY2UuanMnO1xuXG5leHBvcnQgaW50ZXJmYWNlIFdhbGtTZXR0aW5ncyB7XG4gIHJlYWRvbmx5IHJlcG9ydDogKGV2ZW50OiBXYWxrRXZlbnQpID0+IHZvaWQ7XG4gIC8qKiBFbmRzIHRoZSB3YWxrOyB1bmRvIHBhcnRzIHJ1biBhZnRlciBpdC4gKi9cbiAgcmVhZG9ubHkgc2lnbmFsOiBBYm9ydFNpZ25hbDtcbiAgLyoqIEVuZHMgdGhlIHVuZG8gcGFydHMgdG9vLiAqL1xuICByZWFkb25seSB1bmRvU2lnbmFsPzogQWJvcnRTaWduYWwgfCB1bmRlZmluZWQ7XG4gIC8qKiBXaGljaCBvZiB0aGUgd2Fsa3Mgb2YgYSBjb21tYW5kIGl0IGlzLCBmcm9tIDAuICovXG4gIHJlYWRvbmx5IG51bWJlcj86IG51bWJlcjtcbiAgcmVhZG9ubHkgam91cm5hbD86IEpvdXJuYWwgfCB1bmRlZmluZWQ7XG4gIC8qKiBPbmx5IHRoZXNlIHJvd3M7IGFsbCB3aGVyZSBub3RoaW5nIGlzIHNhaWQuICovXG4gIHJlYWRvbmx5IHJvd3M/OiBSZWFkb25seVNldDxudW1iZXI+IHwgdW5kZWZpbmVkO1xuICAvKiogTm8gZnVydGhlciByb3cgb3IgaXRlcmF0aW9uIGlzIGJlZ3VuIG9uY2Ugb25lIGhhcyBmYWlsZWQuICovXG4gIHJlYWRvbmx5IHN0b3BBdEZpcnN0RmFpbHVyZT86IGJvb2xlYW4gfCB1bmRlZmluZWQ7XG4gIC8qKiBXaGF0IGBvbmNlLWJ5YCBwYXNzZXMgb3Zlcjsga2VwdCBmcm9tIG9uZSB3YWxrIHRvIHRoZSBuZXh0LiAqL1xuICByZWFkb25seSBoYW5kbGVkPzogSGFuZGxlZCB8IHVuZGVmaW5lZDtcbn1cblxuLyoqXG4gKiBXYWxrcyBhIHRyYWlsLCBvbmNlIG9yIG9uY2UgYSByb3cuIFdoYXQgZmFpbHMgb24gdGhlIHdheSBpcyBpbiB0aGUgc3VtbWFyeS5cbiAqIEB0aHJvd3MgUHJvYmxlbTogYW4gaW5wdXQgdGhhdCBpcyBtaXNzaW5nLCByb3dzIHRoYXQgY2Fubm90IGJlIHJlYWRcbiAqL1xuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIHdhbGtUcmFpbCh3b3Jrc3BhY2U6IFdvcmtzcGFjZSwgcGxhbjogVHJhaWxQbGFuLCBzZXR0aW5nczogV2Fsa1NldHRpbmdzKTogUHJvbWlzZTxTdW1tYXJ5PiB7XG4gIGNvbnN0IHN0YXJ0ZWQgPSBwZXJmb3JtYW5jZS5ub3coKTtcbiAgY29uc3QgeyBqb3VybmFsLCBudW1iZXIgPSAwIH0gPSBzZXR0aW5ncztcbiAgY29uc3QgdGFsbHkgPSBuZXdUYWxseSgpO1xuICAvLyBXaGF0IGFuIGVhcmxpZXIgY29tbWFuZCBjb3VsZCBub3Qgc2F5IG9mIGl0cyBjYWxscyBpcyBzdGlsbCBub3Qga25vd24uXG4gIHRhbGx5LmluRG91YnQucHVzaCguLi4oam91cm5hbD8uZG91YnRzQmVmb3JlKG51bWJlcikgPz8gW10pKTtcbiAgY29uc3QgcGF0aWVuY2UgPSB7IC4uLndvcmtzcGFjZS5wYXRpZW5jZSB9O1xuICBjb25zdCBzdG9wID0gbmV3IEFib3J0Q29udHJvbGxlcigpO1xuICBjb25zdCB7IHNpZ25hbCB9ID0gc2V0dGluZ3M7XG4gIGNvbnN0IGVuZGluZyA9IHNldHRpbmdzLnN0b3BBdEZpcnN0RmFpbHVyZSA/IEFib3J0U2lnbmFsLmFueShbc2lnbmFsLCBzdG9wLnNpZ25hbF0pIDogc2lnbmFsO1xuICBjb25zdCByZXBvcnQgPSAoZXZlbnQ6IFdhbGtFdmVudCk6IHZvaWQgPT4ge1xuICAgIGNvdW50KGV2ZW50LCB0YWxseSk7XG4gICAgc2V0dGluZ3MucmVwb3J0KGV2ZW50KTtcbiAgICBpZiAoc2V0dGluZ3Muc3RvcEF0Rmlyc3RGYWlsdXJlICYmIGV2ZW50LmV2ZW50ID09PSAnc3RlcCcgJiYgZXZlbnQuc3RhdGUgPT09ICdmYWlsZWQnKSBzdG9wLmFib3J0KCk7XG4gIH07XG4gIHdvcmtzcGFjZS5vblNlc3Npb25PcGVuZWQgPSAobmFtZSkgPT4gcmVwb3J0KHsgZXZlbnQ6ICdzZXNzaW9uLW9wZW5lZCcsIG5hbWUsIHByb2JsZW06IHVuZGVmaW5lZCB9KTtcbiAgd29ya3NwYWNlLm9uV2FpdCA9ICh3YWl0KSA9PiByZXBvcnQoeyBldmVudDogJ3dhaXRpbmcnLCAuLi53YWl0IH0pO1xuICBjb25zdCB3YWxrT2YgPSAoc2NvcGU6IFNjb3BlLCByb3c/OiBudW1iZXIsIHJvd0xhYmVsPzogc3RyaW5nKTogV2FsayA9PiAoe1xuICAgIHdvcmtzcGFjZSxcbiAgICBzY29wZSxcbiAgICByb3csXG4gICAgcm93TGFiZWwsXG4gICAgYXQ6IHJvdyA9PT0gdW5kZWZpbmVkID8gU3RyaW5nKG51bWJlcikgOiBgJHtudW1iZXJ9LiR7cm93fWAsXG4gICAgZGVwdGg6IDAsXG4gICAgc2lnbmFsLFxuICAgIGVuZGluZyxcbiAgICB1bmRvOiBbXSxcbiAgICBkb3VidChjYWxsKSB7XG4gICAgICB0YWxseS5pbkRvdWJ0LnB1c2goY2FsbCk7XG4gICAgICBqb3VybmFsPy5kb3VidChudW1iZXIsIGNhbGwpO1xuICAgIH0sXG4gICAgam91cm5hbCxcbiAgICB0YWJsZTogcGxhbi50YWJsZSxcbiAgICBsYXN0OiB7IGNlbGxzOiB7fSB9LFxuICAgIGhhbmRsZWQ6IHNldHRpbmdzLmhhbmRsZWQgPz8gbmV3IE1hcCgpLFxuICAgIHJlcG9ydCxcbiAgICBzdGVwczogd2Fsa1N0ZXBzLFxuICB9KTtcbiAgdHJ5IHtcbiAgICBpZiAocGxhbi5yb3dzKSBhd2FpdCB3YWxrUm93cyhwbGFuLCBwbGFuLnJvd3MsIHdvcmtzcGFjZSwgd2Fsa09mLCB0YWxseSwgeyAuLi5zZXR0aW5ncywgcmVwb3J0IH0sIGVuZGluZyk7XG4gICAgZWxzZSB7XG4gICAgICBjb25zdCB3YWxrID0gd2Fsa09mKHN0YXJ0U2NvcGUocGxhbiwgd29ya3NwYWNlLCBmcm9tQ29tbWFuZExpbmUod29ya3NwYWNlKSkpO1xuICAgICAgY29uc3Qgd2Fsa2VkID0gYXdhaXQgd2Fsa1dpdGhVbmRvKHBsYW4sIHdhbGssIHNldHRpbmdzLnVuZG9TaWduYWwpO1xuICAgICAgaWYgKHdhbGtlZC5wcm9ibGVtKSB0YWxseS5wcm9ibGVtID0gZ3JhdmVyKHRhbGx5LnByb2JsZW0sIHdhbGtlZC5wcm9ibGVtKTtcbiAgICAgIC8vIFdoYXQgd2FzIHRha2VuIGJhY2sgaXMgbm90IGdvbmUgb24gd2l0aC5cbiAgICAgIGlmIChzaWduYWwuYWJvcnRlZCAmJiB3YWxrZWQudGFrZW5CYWNrKSBhd2FpdCBqb3VybmFsPy53YWxrZWQobnVtYmVyLCBmYWxzZSk7XG4gICAgfVxuICB9IGZpbmFsbHkge1xuICAgIGF3YWl0IGNsb3NlU2Vzc2lvbnMod29ya3NwYWNlLCByZXBvcnQpO1xuICAgIHdvcmtzcGFjZS5vblNlc3Npb25PcGVuZWQgPSB1bmRlZmluZWQ7XG4gICAgd29ya3NwYWNlLm9uV2FpdCA9IHVuZGVmaW5lZDtcbiAgfVxuICBjb25zdCBpbnRlcnJ1cHRlZCA9IHNldHRpbmdzLnNpZ25hbC5hYm9ydGVkO1xuICBpZiAoaW50ZXJydXB0ZWQpIHRhbGx5LnByb2JsZW0gPSBuZXcgUHJvYmxlbSgnaW50ZXJydXB0ZWQnLCB7IHdoYXQ6ICdpbnRlcnJ1cHRlZCcgfSk7XG4gIC8vIFdoZXJlIHJvd3Mgd2VyZSBub3QgYmVndW4gYW55IG1vcmUsIHRoZXJlIGlzIHNvbWV0aGluZyBsZWZ0IHRvIGdvIG9uIHdpdGguXG4gIGVsc2UgaWYgKCEocGxhbi5yb3dzICYmIGVuZGluZy5hYm9ydGVkKSkgYXdhaXQgam91cm5hbD8ud2Fsa2VkKG51bWJlciwgdGFsbHkucHJvYmxlbSA9PT0gdW5kZWZpbmVkKTtcbiAgcmV0dXJuIHN1bW1hcnlPZih0YWxseSwge1xuICAgIHJ1bjogam91cm5hbD8ucnVuID8/IHdvcmtzcGFjZS5sb2cucnVuLFxuICAgIGludGVycnVwdGVkLFxuICAgIHRpbWU6IHBlcmZvcm1hbmNlLm5vdygpIC0gc3RhcnRlZCxcbiAgICBoYXNSb3dzOiBwbGFuLnJvd3MgIT09IHVuZGVmaW5lZCxcbiAgICBwYXRpZW5jZToge1xuICAgICAgcmVmdXNlZDogd29ya3NwYWNlLnBhdGllbmNlLnJlZnVzZWQgLSBwYXRpZW5jZS5yZWZ1c2VkLFxuICAgICAgdHJpZWRBZ2Fpbjogd29ya3NwYWNlLnBhdGllbmNlLnRyaWVkQWdhaW4gLSBwYXRpZW5jZS50cmllZEFnYWluLFxuICAgICAgd2FpdGVkOiB3b3Jrc3BhY2UucGF0aWVuY2Uud2FpdGVkIC0gcGF0aWVuY2Uud2FpdGVkLFxuICAgIH0sXG4gIH0pO1xufVxuIiwgIi8qKiBIb3cgZmFyIGEgd2FsayBpcywgaW4gbGluZXMgdGhhdCBhcmUgcmV3cml0dGVuIHdoaWxlIHNvbWVib2R5IHdhdGNoZXMuICovXG5pbXBvcnQgdHlwZSB7IFdhbGtFdmVudCB9IGZyb20gJy4uLy4uL2NvcmUvdHJhaWwvZXZlbnRzLmpzJztcbmltcG9ydCB0eXBlIHsgUGF0aWVuY2UgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3BhY2luZy90cmllcy5qcyc7XG5pbXBvcnQgdHlwZSB7IFRyYWlsUGxhbiB9IGZyb20gJy4uLy4uL2NvcmUvdHJhaWwvc3RlcC1raW5kLmpzJztcbmltcG9ydCB7IGR1cmF0aW9uVGV4dCB9IGZyb20gJy4uLy4uL2NvcmUvdmFsdWUvbWVhc3VyZXMuanMnO1xuaW1wb3J0IHR5cGUgeyBUZXJtaW5hbCB9IGZyb20gJy4uL3Rlcm1pbmFsLmpzJztcblxuZXhwb3J0IGludGVyZmFjZSBMaXZlVmlldyB7XG4gIHRha2UoZXZlbnQ6IFdhbGtFdmVudCk6IHZvaWQ7XG4gIGVuZCgpOiB2b2lkO1xufVxuXG5jb25zdCBub2JvZHlXYXRjaGVzOiBMaXZlVmlldyA9IHsgdGFrZTogKCkgPT4gdW5kZWZpbmVkLCBlbmQ6ICgpID0+IHVuZGVmaW5lZCB9O1xuXG5jb25zdCB3aG9sZVNlY29uZHMgPSAobXM6IG51bWJlcik6IHN0cmluZyA9PiBkdXJhdGlvblRleHQobXMpLnJlcGxhY2UoL1xcLlxcZCsgcy8sICcgcycpO1xuXG4vKiogTWlsbGlzZWNvbmRzIGJldHdlZW4gdHdvIHBpY3R1cmVzLiAqL1xuY29uc3QgcmVmcmVzaCA9IDI1MDtcbi8qKiBPdmVyIHNvIG1hbnkgbWlsbGlzZWNvbmRzIHRoZSByYXRlIGlzIHRha2VuLiAqL1xuY29uc3Qgc3BhbiA9IDUwMDA7XG5cbi8qKiBAcGFyYW0gcGF0aWVuY2UgY291bnRzIHdoYXQgaG9zdHMgcmVmdXNlLCBmcm9tIGJlZm9yZSB0aGUgd2FsayAqL1xuZXhwb3J0IGZ1bmN0aW9uIGxpdmVWaWV3KHsgbmFtZSwgcm93cyB9OiBUcmFpbFBsYW4sIHBhdGllbmNlOiBSZWFkb25seTxQYXRpZW5jZT4sIHRlcm1pbmFsOiBUZXJtaW5hbCk6IExpdmVWaWV3IHtcbiAgaWYgKCF0ZXJtaW5hbC5saXZlKSByZXR1cm4gbm9ib2R5V2F0Y2hlcztcbiAgY29uc3Qgc3RhcnRlZCA9IHBlcmZvcm1hbmNlLm5vdygpO1xuICBjb25zdCBiZWZvcmUgPSB7IC4uLnBhdGllbmNlIH07XG4gIGxldCBbZG9uZSwgZmFpbGVkLCBzdGVwcywgZmFpbGVkU3RlcHNdID0gWzAsIDAsIDAsIDBdO1xuICBsZXQgbGF0ZXN0ID0gJyc7XG4gIGxldCBhYm91dDogbnVtYmVyIHwgdW5kZWZpbmVkO1xuICBsZXQgd2FpdGluZzogeyBob3N0OiBzdHJpbmc7IHVudGlsOiBudW1iZXI7IHdoeTogc3RyaW5nIH0gfCB1bmRlZmluZWQ7XG4gIGNvbnN0IHBhc3Q6IHsgYXQ6IG51bWJlcjsgY291bnQ6IG51bWJlciB9W10gPSBbXTtcblxuICBjb25zdCByYXRlID0gKGNvdW50OiBudW1iZXIpOiBudW1iZXIgPT4ge1xuICAgIGNvbnN0IG5vdyA9IHBlcmZvcm1hbmNlLm5vdygpO1xuICAgIHBhc3QucHVzaCh7IGF0OiBub3csIGNvdW50IH0pO1xuICAgIHdoaWxlIChwYXN0Lmxlbmd0aCA+IDEgJiYgbm93IC0gKHBhc3RbMF0/LmF0ID8/IG5vdykgPiBzcGFuKSBwYXN0LnNoaWZ0KCk7XG4gICAgY29uc3QgW2ZpcnN0XSA9IHBhc3Q7XG4gICAgcmV0dXJuIGZpcnN0ICYmIG5vdyA+IGZpcnN0LmF0ID8gKChjb3VudCAtIGZpcnN0LmNvdW50KSAqIDEwMDApIC8gKG5vdyAtIGZpcnN0LmF0KSA6IDA7XG4gIH07XG5cbiAgY29uc3QgcGljdHVyZSA9ICgpOiBzdHJpbmcgPT4ge1xuICAgIGNvbnN0IGVsYXBzZWQgPSB3aG9sZVNlY29uZHMocGVyZm9ybWFuY2Uubm93KCkgLSBzdGFydGVkKTtcbiAgICBjb25zdCBzcGVlZCA9IHJhdGUocm93cyA/IGRvbmUgOiBzdGVwcyk7XG4gICAgY29uc3QgZmFjdHMgPSByb3dzXG4gICAgICA/IFtcbiAgICAgICAgICBgJHtkb25lfSR7YWJvdXQgPT09IHVuZGVmaW5lZCA/ICcnIDogYCBvZiAke2Fib3V0fWB9IHJvd3NgLFxuICAgICAgICAgIGZhaWxlZCA+IDAgJiYgYCR7ZmFpbGVkfSBmYWlsZWRgLFxuICAgICAgICAgIGAke3NwZWVkLnRvRml4ZWQoc3BlZWQgPCAxMCA/IDEgOiAwKX0gYSBzZWNvbmRgLFxuICAgICAgICAgIGFib3V0ICE9PSB1bmRlZmluZWQgJiYgc3BlZWQgPiAwICYmIGRvbmUgPCBhYm91dCAmJiBgJHt3aG9sZVNlY29uZHMoKChhYm91dCAtIGRvbmUpIC8gc3BlZWQpICogMTAwMCl9IGxlZnRgLFxuICAgICAgICBdXG4gICAgICA6IFtgJHtzdGVwc30gc3RlcHNgLCBmYWlsZWRTdGVwcyA+IDAgJiYgYCR7ZmFpbGVkU3RlcHN9IGZhaWxlZGAsIHN0ZXBzID4gMjAgJiYgYCR7c3BlZWQudG9GaXhlZCgwKX0gYSBzZWNvbmRgXTtcbiAgICBjb25zdCBsaW5lcyA9IFtgJHtuYW1lfTogJHtbLi4uZmFjdHMsIGVsYXBzZWRdLmZpbHRlcihCb29sZWFuKS5qb2luKCcgICAnKX1gXTtcbiAgICBpZiAobGF0ZXN0ICE9PSAnJykgbGluZXMucHVzaChgICBub3cgICAgICAke2xhdGVzdH1gKTtcbiAgICBpZiAod2FpdGluZykge1xuICAgICAgY29uc3QgbGVmdCA9IHdhaXRpbmcudW50aWwgLSBwZXJmb3JtYW5jZS5ub3coKTtcbiAgICAgIGNvbnN0IHJlZnVzZWQgPSBgJHtwYXRpZW5jZS5yZWZ1c2VkIC0gYmVmb3JlLnJlZnVzZWR9IHJlZnVzZWRgO1xuICAgICAgbGluZXMucHVzaChcbiAgICAgICAgbGVmdCA+IDBcbiAgICAgICAgICA/IGAgIHdhaXRpbmcgICR7d2FpdGluZy5ob3N0fSwgJHtkdXJhdGlvblRleHQobGVmdCl9IG1vcmUgKCR7d2FpdGluZy53aHl9KTsgJHtyZWZ1c2VkfWBcbiAgICAgICAgICA6IGAgICR7cmVmdXNlZH0sIHdhaXRlZCAke2R1cmF0aW9uVGV4dChwYXRpZW5jZS53YWl0ZWQgLSBiZWZvcmUud2FpdGVkKX1gLFxuICAgICAgKTtcbiAgICB9XG4gICAgcmV0dXJuIGxpbmVzLmpvaW4oJ1xcbicpO1xuICB9O1xuXG4gIHZvaWQgcm93cz8uYWJvdXQoKS50aGVuKFxuICAgIChmb3VuZCkgPT4ge1xuICAgICAgYWJvdXQgPSBmb3VuZDtcbiAgICB9LFxuICAgICgpID0+IHVuZGVmaW5lZCxcbiAgKTtcbiAgY29uc3QgdGltZXIgPSBzZXRJbnRlcnZhbCgoKSA9PiB0ZXJtaW5hbC5wcm9ncmVzcyhwaWN0dXJlKCkpLCByZWZyZXNoKTtcbiAgcmV0dXJuIHtcbiAgICB0YWtlKGV2ZW50KSB7XG4gICAgICBpZiAoZXZlbnQuZXZlbnQgPT09ICdzdGVwJykge1xuICAgICAgICBzdGVwcyArPSAxO1xuICAgICAgICBpZiAoZXZlbnQuc3RhdGUgPT09ICdmYWlsZWQnKSBmYWlsZWRTdGVwcyArPSAxO1xuICAgICAgICBsYXRlc3QgPSBgJHtldmVudC5yb3cgPT09IHVuZGVmaW5lZCA/ICcnIDogYHJvdyAke2V2ZW50LnJvd30gYH0ke2V2ZW50Lm1lbWJlciA9PT0gdW5kZWZpbmVkID8gJycgOiBgJHtldmVudC5tZW1iZXJ9IGB9JHtldmVudC5sYWJlbH1gO1xuICAgICAgfSBlbHNlIGlmIChldmVudC5ldmVudCA9PT0gJ3JvdycpIHtcbiAgICAgICAgZG9uZSArPSAxO1xuICAgICAgICBpZiAoIWV2ZW50Lm9rKSBmYWlsZWQgKz0gMTtcbiAgICAgIH0gZWxzZSBpZiAoZXZlbnQuZXZlbnQgPT09ICd3YWl0aW5nJykge1xuICAgICAgICB3YWl0aW5nID0geyBob3N0OiBldmVudC5ob3N0LCB1bnRpbDogcGVyZm9ybWFuY2Uubm93KCkgKyBldmVudC53YWl0LCB3aHk6IGV2ZW50LndoeSB9O1xuICAgICAgfVxuICAgIH0sXG4gICAgZW5kKCkge1xuICAgICAgY2xlYXJJbnRlcnZhbCh0aW1lcik7XG4gICAgICB0ZXJtaW5hbC5wcm9ncmVzcygnJyk7XG4gICAgfSxcbiAgfTtcbn1cbiIsICIvKiogVGVsbGluZyB3aGF0IGEgd2FsayBkb2VzLCBhcyBpdCBkb2VzIGl0OiBsaW5lcyBmb3IgcGVvcGxlLCBsaW5lcyBvZiBKU09OIGZvciBwcm9ncmFtcy4gKi9cbmltcG9ydCB0eXBlIHsgU3RlcEV2ZW50LCBXYWxrRXZlbnQgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL2V2ZW50cy5qcyc7XG5pbXBvcnQgdHlwZSB7IE1hdHJpeE1ha2VyIH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC9ydW4vbWF0cml4LmpzJztcbmltcG9ydCB0eXBlIHsgVHJhaWxQbGFuIH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC9zdGVwLWtpbmQuanMnO1xuaW1wb3J0IHR5cGUgeyBXb3Jrc3BhY2UgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3dvcmtzcGFjZS5qcyc7XG5pbXBvcnQgdHlwZSB7IFRlcm1pbmFsIH0gZnJvbSAnLi4vdGVybWluYWwuanMnO1xuaW1wb3J0IHsgZXZlbnRMaW5lcyB9IGZyb20gJy4uL3ZpZXcvcnVuLmpzJztcbmltcG9ydCB7IGV2ZW50RG9jdW1lbnQgfSBmcm9tICcuLi92aWV3L3J1bi1kb2N1bWVudHMuanMnO1xuaW1wb3J0IHsgbGl2ZVZpZXcgfSBmcm9tICcuL2xpdmUtdmlldy5qcyc7XG5cbmV4cG9ydCBpbnRlcmZhY2UgUmVwb3J0ZXIge1xuICByZWFkb25seSByZXBvcnQ6IChldmVudDogV2Fsa0V2ZW50KSA9PiB2b2lkO1xuICBlbmQoKTogdm9pZDtcbn1cblxuLyoqIEBwYXJhbSBlbnZpcm9ubWVudCBuYW1lZCB3aGVyZSB0aGVyZSBhcmUgc2V2ZXJhbCAqL1xuZXhwb3J0IGZ1bmN0aW9uIHJlcG9ydGVyKFxuICBwbGFuOiBUcmFpbFBsYW4sXG4gIHdvcmtzcGFjZTogV29ya3NwYWNlLFxuICB0ZXJtaW5hbDogVGVybWluYWwsXG4gIG1hdHJpeDogTWF0cml4TWFrZXIgfCB1bmRlZmluZWQsXG4gIGVudmlyb25tZW50OiBzdHJpbmcgfCB1bmRlZmluZWQsXG4pOiBSZXBvcnRlciB7XG4gIGNvbnN0IHsgaGlkZSB9ID0gd29ya3NwYWNlLnJlZGFjdG9yO1xuICAvLyBXaGF0IGZvbGxvd3MgdGhlIG5hbWVzIHN0YW5kcyBpbiBvbmUgY29sdW1uLCB1bmxlc3MgYSBuYW1lIGlzIHZlcnkgbG9uZy5cbiAgY29uc3Qgd2lkdGggPSBwbGFuLnJvd3MgPyAwIDogTWF0aC5taW4oNDAsIE1hdGgubWF4KC4uLnBsYW4uc3RlcHMubWFwKCh7IGxhYmVsIH0pID0+IGxhYmVsLmxlbmd0aCkpKTtcbiAgY29uc3QgbGl2ZSA9IGxpdmVWaWV3KHBsYW4sIHdvcmtzcGFjZS5wYXRpZW5jZSwgdGVybWluYWwpO1xuICBjb25zdCBhbGlrZSA9IGFsaWtlRmFpbHVyZXMoKTtcbiAgbGV0IHNob3duID0gMDtcbiAgLyoqIFdoYXQgd2VudCB3ZWxsIG9mIG1hbnkgaXMgbm90IHRvbGQ6IGEgcnVuIGhhcyB0aG91c2FuZHMgb2YgaXQuIFdoZXJlIG5vdGhpbmcgaXMgc2VudCwgdGhlIGZpcnN0IGFyZSB3aGF0IG9uZSB3YW50cyB0byBzZWUuICovXG4gIGNvbnN0IHF1aWV0bHkgPSAoZXZlbnQ6IFdhbGtFdmVudCk6IGJvb2xlYW4gPT4ge1xuICAgIGlmICghd2VudFdlbGwoZXZlbnQpKSByZXR1cm4gZmFsc2U7XG4gICAgaWYgKCF3b3Jrc3BhY2UuZHJ5UnVuIHx8IGV2ZW50LmV2ZW50ID09PSAncm93JykgcmV0dXJuIHRydWU7XG4gICAgc2hvd24gKz0gMTtcbiAgICByZXR1cm4gc2hvd24gPiBzaG93blVuc2VudDtcbiAgfTtcbiAgLyoqIFJvd3Mgd2hvc2UgZmFpbGluZyBzdGVwIHdhcyB0b2xkLiAqL1xuICBjb25zdCByb3dzVG9sZCA9IG5ldyBTZXQ8bnVtYmVyPigpO1xuICByZXR1cm4ge1xuICAgIHJlcG9ydChldmVudCkge1xuICAgICAgbGl2ZS50YWtlKGV2ZW50KTtcbiAgICAgIG1hdHJpeD8udGFrZShldmVudCwgZW52aXJvbm1lbnQpO1xuICAgICAgaWYgKCF0ZXJtaW5hbC5qc29uICYmIChxdWlldGx5KGV2ZW50KSB8fCAobWF0cml4ICYmIGlzT2ZSb3coZXZlbnQpKSkpIHJldHVybjtcbiAgICAgIGNvbnN0IHRvbGQgPSBldmVudC5ldmVudCA9PT0gJ3JvdycgJiYgcm93c1RvbGQuZGVsZXRlKGV2ZW50LnJvdyk7XG4gICAgICBpZiAoZXZlbnQuZXZlbnQgPT09ICdzdGVwJyAmJiBldmVudC5zdGF0ZSA9PT0gJ2ZhaWxlZCcgJiYgZXZlbnQucm93ICE9PSB1bmRlZmluZWQpIHJvd3NUb2xkLmFkZChldmVudC5yb3cpO1xuICAgICAgaWYgKHRlcm1pbmFsLmpzb24pIHtcbiAgICAgICAgY29uc3QgZG9jdW1lbnQgPSBldmVudERvY3VtZW50KGV2ZW50LCBoaWRlKTtcbiAgICAgICAgdGVybWluYWwucHJpbnQoaGlkZShKU09OLnN0cmluZ2lmeShlbnZpcm9ubWVudCA9PT0gdW5kZWZpbmVkID8gZG9jdW1lbnQgOiB7IC4uLmRvY3VtZW50LCBlbnZpcm9ubWVudCB9KSkpO1xuICAgICAgfSBlbHNlIGlmIChldmVudC5ldmVudCA9PT0gJ3dhaXRpbmcnKSB7XG4gICAgICAgIC8vIFdoZXJlIHNvbWVib2R5IHdhdGNoZXMsIHRoZSBsaXZlIHZpZXcgc2F5cyBzbzsgYSBsb2cgaGFzIGl0IG9uY2UgZm9yIGVhY2ggbG9uZ2VyIHdhaXQuXG4gICAgICAgIGlmICghdGVybWluYWwubGl2ZSAmJiBldmVudC5hZGRlZCA+IDApXG4gICAgICAgICAgZm9yIChjb25zdCBsaW5lIG9mIGV2ZW50TGluZXMoZXZlbnQsIHRlcm1pbmFsLCBoaWRlKSkgdGVybWluYWwubm90ZShsaW5lKTtcbiAgICAgIH0gZWxzZSBpZiAoZXZlbnQuZXZlbnQgPT09ICdzdGVwJyAmJiBldmVudC5zdGF0ZSA9PT0gJ2ZhaWxlZCcgJiYgaXNPbmVPZk1hbnkoZXZlbnQpKSB7XG4gICAgICAgIGZvciAoY29uc3QgbGluZSBvZiBhbGlrZS50YWtlKGV2ZW50LCAoKSA9PiBldmVudExpbmVzKGV2ZW50LCB0ZXJtaW5hbCwgaGlkZSwgd2lkdGgpKSkgdGVybWluYWwucHJpbnQobGluZSk7XG4gICAgICB9IGVsc2UgaWYgKHRvbGQpIHtcbiAgICAgICAgLy8gSXRzIGZhaWxpbmcgc3RlcCBzYWlkIGFsbC5cbiAgICAgIH0gZWxzZSBpZiAoIXRlcm1pbmFsLnF1aWV0IHx8IChldmVudC5ldmVudCA9PT0gJ3N0ZXAnICYmIGV2ZW50LnN0YXRlID09PSAnZmFpbGVkJykpIHtcbiAgICAgICAgZm9yIChjb25zdCBsaW5lIG9mIGV2ZW50TGluZXMoZXZlbnQsIHRlcm1pbmFsLCBoaWRlLCB3aWR0aCkpIHRlcm1pbmFsLnByaW50KGxpbmUpO1xuICAgICAgfVxuICAgIH0sXG4gICAgZW5kKCkge1xuICAgICAgbGl2ZS5lbmQoKTtcbiAgICAgIGlmICh0ZXJtaW5hbC5qc29uKSByZXR1cm47XG4gICAgICBmb3IgKGNvbnN0IGxpbmUgb2YgYWxpa2UucmVzdCgpKSB0ZXJtaW5hbC5wcmludCh0ZXJtaW5hbC5vdXQuZGltKGxpbmUpKTtcbiAgICAgIGlmIChzaG93biA+IHNob3duVW5zZW50KVxuICAgICAgICB0ZXJtaW5hbC5wcmludCh0ZXJtaW5hbC5vdXQuZGltKGAgICAgICAgIGFuZCAke3Nob3duIC0gc2hvd25VbnNlbnR9IG1vcmU6IC0tanNvbiBoYXMgdGhlbSBhbGxgKSk7XG4gICAgfSxcbiAgfTtcbn1cblxuLyoqIFdoYXQgYSBtYXRyaXggZW5kcyB3aXRoLiAqL1xuY29uc3QgaXNPZlJvdyA9IChldmVudDogV2Fsa0V2ZW50KTogYm9vbGVhbiA9PlxuICBldmVudC5ldmVudCA9PT0gJ3JvdycgfHwgKGV2ZW50LmV2ZW50ID09PSAnc3RlcCcgJiYgZXZlbnQucm93ICE9PSB1bmRlZmluZWQpO1xuXG5jb25zdCB3ZW50V2VsbCA9IChldmVudDogV2Fsa0V2ZW50KTogYm9vbGVhbiA9PlxuICBldmVudC5ldmVudCA9PT0gJ3JvdycgPyBldmVudC5vayA6IGV2ZW50LmV2ZW50ID09PSAnc3RlcCcgJiYgZXZlbnQuc3RhdGUgIT09ICdmYWlsZWQnICYmIGlzT25lT2ZNYW55KGV2ZW50KTtcblxuY29uc3QgaXNPbmVPZk1hbnkgPSAoeyByb3csIG1lbWJlciB9OiBTdGVwRXZlbnQpOiBib29sZWFuID0+IHJvdyAhPT0gdW5kZWZpbmVkIHx8IG1lbWJlciAhPT0gdW5kZWZpbmVkO1xuXG4vKiogU28gbWFueSBzdGVwcyBvZiByb3dzIG9yIGl0ZXJhdGlvbnMgYXJlIHNob3duIHdoZXJlIG5vdGhpbmcgaXMgc2VudC4gKi9cbmNvbnN0IHNob3duVW5zZW50ID0gMjA7XG5cbi8qKiBTbyBtYW55IGZhaWx1cmVzIG9mIG9uZSBzdGVwIHRoYXQgc2F5IHRoZSBzYW1lIGFyZSB0b2xkIGluIGZ1bGwuICovXG5jb25zdCB0b2xkT2ZBS2luZCA9IDM7XG5jb25zdCBtb3N0S2luZHMgPSA1MDA7XG5cbi8qKiBXaGF0IGZhaWxzIGFsaWtlIGluIG1hbnkgcm93cyBpcyB0b2xkIGEgZmV3IHRpbWVzLCBhbmQgY291bnRlZC4gKi9cbmZ1bmN0aW9uIGFsaWtlRmFpbHVyZXMoKToge1xuICB0YWtlKGV2ZW50OiBTdGVwRXZlbnQsIGxpbmVzOiAoKSA9PiByZWFkb25seSBzdHJpbmdbXSk6IHJlYWRvbmx5IHN0cmluZ1tdO1xuICByZXN0KCk6IHJlYWRvbmx5IHN0cmluZ1tdO1xufSB7XG4gIGNvbnN0IGtpbmRzID0gbmV3IE1hcDxzdHJpbmcsIHsgcmVhZG9ubHkgbGFiZWw6IHN0cmluZzsgcmVhZG9ubHkgd2hhdDogc3RyaW5nOyBjb3VudDogbnVtYmVyIH0+KCk7XG4gIHJldHVybiB7XG4gICAgdGFrZShldmVudCwgbGluZXMpIHtcbiAgICAgIGNvbnN0IHdoYXQgPSBldmVudC5wcm9ibGVtc1swXT8ud2hhdCA/PyAnJztcbiAgICAgIGNvbnN0IGtleSA9IGAke2V2ZW50LmxhYmVsfSAke3doYXR9YDtcbiAgICAgIGlmIChraW5kcy5zaXplID49IG1vc3RLaW5kcyAmJiAha2luZHMuaGFzKGtleSkpIHJldHVybiBsaW5lcygpO1xuICAgICAgY29uc3Qga2luZCA9IGtpbmRzLmdldChrZXkpID8/IHsgbGFiZWw6IGV2ZW50LmxhYmVsLCB3aGF0LCBjb3VudDogMCB9O1xuICAgICAga2luZHMuc2V0KGtleSwga2luZCk7XG4gICAgICBraW5kLmNvdW50ICs9IDE7XG4gICAgICByZXR1cm4ga2luZC5jb3VudCA8PSB0b2xkT2ZBS2luZCA/IGxpbmVzKCkgOiBbXTtcbiAgICB9LFxuICAgIHJlc3Q6ICgpID0+XG4gICAgICBbLi4ua2luZHMudmFsdWVzKCldXG4gICAgICAgIC5maWx0ZXIoKHsgY291bnQgfSkgPT4gY291bnQgPiB0b2xkT2ZBS2luZClcbiAgICAgICAgLm1hcCgoeyBsYWJlbCwgd2hhdCwgY291bnQgfSkgPT4gYCAgICAgICAgJHtsYWJlbH06ICR7Y291bnQgLSB0b2xkT2ZBS2luZH0gbW9yZSBsaWtlIGl0ICgke3doYXR9KWApLFxuICB9O1xufVxuIiwgIi8qKiBGcm9tIHBsYW5zIHRvIHRoZWlyIGVuZDogd2hhdCBjYW4gYmUga25vd24gYWhlYWQgaXMgbG9va2VkIGF0LCB0aGUgam91cm5hbCBpcyBvcGVuZWQsIGFsbCBpcyB3YWxrZWQuICovXG5pbXBvcnQgeyBhc1Byb2JsZW0gfSBmcm9tICcuLi8uLi9jb3JlL3Byb2JsZW0vcHJvYmxlbS5qcyc7XG5pbXBvcnQgdHlwZSB7IEJlZm9yZSB9IGZyb20gJy4uLy4uL2NvcmUvdHJhaWwvam91cm5hbC9iZWZvcmUuanMnO1xuaW1wb3J0IHsgZGVtYW5kQWhlYWQgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3J1bi9haGVhZC5qcyc7XG5pbXBvcnQgdHlwZSB7IE1hdHJpeE1ha2VyIH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC9ydW4vbWF0cml4LmpzJztcbmltcG9ydCB7IG9wZW5SdW4sIHR5cGUgUnVuT3JkZXIsIHR5cGUgV29ya2VyIH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC9ydW4vb3Blbi1ydW4uanMnO1xuaW1wb3J0IHR5cGUgeyBDb250ZXh0IH0gZnJvbSAnLi4vY29udGV4dC5qcyc7XG5pbXBvcnQgeyBleGl0U3RhdHVzIH0gZnJvbSAnLi4vZXhpdC1zdGF0dXMuanMnO1xuaW1wb3J0IHsgcHJvYmxlbUxpbmVzIH0gZnJvbSAnLi4vdmlldy9wcm9ibGVtLmpzJztcbmltcG9ydCB7IG1hdHJpeERvY3VtZW50IH0gZnJvbSAnLi4vdmlldy9ydW4tZG9jdW1lbnRzLmpzJztcbmltcG9ydCB7IG1hdHJpeFRleHQgfSBmcm9tICcuLi92aWV3L3J1bi1zdW1tYXJ5LmpzJztcbmltcG9ydCB0eXBlIHsgT3BlbmVkIH0gZnJvbSAnLi9vcGVuZWQuanMnO1xuaW1wb3J0IHsgdHlwZSBXYWxraW5nLCB3YWxrUGxhbnMgfSBmcm9tICcuL3dhbGstcGxhbnMuanMnO1xuXG5leHBvcnQgY29uc3Qgd29ya2VyOiBXb3JrZXIgPSB7XG4gIHByb2Nlc3M6IHByb2Nlc3MucGlkLFxuICBhbGl2ZShwaWQpIHtcbiAgICBpZiAocGlkID09PSBwcm9jZXNzLnBpZCkgcmV0dXJuIGZhbHNlO1xuICAgIHRyeSB7XG4gICAgICBwcm9jZXNzLmtpbGwocGlkLCAwKTtcbiAgICAgIHJldHVybiB0cnVlO1xuICAgIH0gY2F0Y2ggKGVycm9yKSB7XG4gICAgICByZXR1cm4gKGVycm9yIGFzIE5vZGVKUy5FcnJub0V4Y2VwdGlvbikuY29kZSA9PT0gJ0VQRVJNJztcbiAgICB9XG4gIH0sXG59O1xuXG4vKiogT2Ygc2V2ZXJhbCBlbnZpcm9ubWVudHMsIG9uZSB0aGF0IGlzIG5vdCB0aGVyZSBpcyBhIHJlc3VsdC4gQHBhcmFtIGJlZm9yZSBvZiB0aGUgcnVuIHRoYXQgaXMgZ29uZSBvbiB3aXRoICovXG5leHBvcnQgYXN5bmMgZnVuY3Rpb24gd2Fsa0FoZWFkKFxuICB3YWxraW5nOiBPbWl0PFdhbGtpbmcsICdqb3VybmFsJyB8ICdvcHRpb25zJz4gJiBPcGVuZWQsXG4gIG9yZGVyOiBSdW5PcmRlcixcbiAgY29udGV4dDogQ29udGV4dCxcbiAgYmVmb3JlPzogQmVmb3JlLFxuKTogUHJvbWlzZTxudW1iZXI+IHtcbiAgY29uc3QgeyB3b3Jrc3BhY2UsIHBsYW5zLCB3aXNoZXMsIGVudmlyb25tZW50IH0gPSB3YWxraW5nO1xuICBjb25zdCB7IHRlcm1pbmFsIH0gPSBjb250ZXh0O1xuICB3b3Jrc3BhY2UuZXhwZWN0Q2hhbmdlcyh7XG4gICAgY2FsbHM6IHBsYW5zLmZsYXRNYXAoKHsgc3RlcHMgfSkgPT4gc3RlcHMpLnJlZHVjZSgoc3VtLCB7IGNoYW5nZXMgfSkgPT4gc3VtICsgY2hhbmdlcywgMCksXG4gICAgcm93czogcGxhbnMuc29tZSgoeyByb3dzIH0pID0+IHJvd3MgIT09IHVuZGVmaW5lZCksXG4gIH0pO1xuICB0cnkge1xuICAgIGF3YWl0IGRlbWFuZEFoZWFkKHdvcmtzcGFjZSwgcGxhbnMsIGNvbnRleHQuc2lnbmFsKTtcbiAgfSBjYXRjaCAoZXJyb3IpIHtcbiAgICBjb25zdCBwcm9ibGVtID0gYXNQcm9ibGVtKGVycm9yKTtcbiAgICBpZiAoZW52aXJvbm1lbnQgPT09IHVuZGVmaW5lZCB8fCBwcm9ibGVtLmZhbWlseSAhPT0gJ25vLWFuc3dlcicpIHRocm93IGVycm9yO1xuICAgIHdhbGtpbmcubWF0cml4Py5taXNzaW5nKGVudmlyb25tZW50LCBwcm9ibGVtKTtcbiAgICB0ZXJtaW5hbC5jb21wbGFpbihwcm9ibGVtTGluZXMocHJvYmxlbSwgdGVybWluYWwuZXJyLCB3b3Jrc3BhY2UucmVkYWN0b3IuaGlkZSkpO1xuICAgIHJldHVybiBleGl0U3RhdHVzKHByb2JsZW0pO1xuICB9XG4gIGNvbnN0IGpvdXJuYWwgPSB3aXNoZXMuZHJ5UnVuID8gdW5kZWZpbmVkIDogYXdhaXQgb3BlblJ1bih3b3Jrc3BhY2UsIGNvbnRleHQuaG9tZSwgcGxhbnMsIG9yZGVyLCB3b3JrZXIsIGJlZm9yZSk7XG4gIHRyeSB7XG4gICAgcmV0dXJuIGF3YWl0IHdhbGtQbGFucyh7IC4uLndhbGtpbmcsIGpvdXJuYWwsIG9wdGlvbnM6IG9yZGVyLm9wdGlvbnMgfSwgY29udGV4dCk7XG4gIH0gZmluYWxseSB7XG4gICAgYXdhaXQgam91cm5hbD8uY2xvc2UoKTtcbiAgICBhd2FpdCB3YWxraW5nLndyaXR0ZW4oKTtcbiAgfVxufVxuXG5leHBvcnQgZnVuY3Rpb24gdGVsbE1hdHJpeChcbiAgbWF0cml4OiBNYXRyaXhNYWtlciB8IHVuZGVmaW5lZCxcbiAgeyB0ZXJtaW5hbCB9OiBDb250ZXh0LFxuICBoaWRlOiAodGV4dDogc3RyaW5nKSA9PiBzdHJpbmcsXG4pOiB2b2lkIHtcbiAgaWYgKCFtYXRyaXgpIHJldHVybjtcbiAgaWYgKHRlcm1pbmFsLmpzb24pIHRlcm1pbmFsLnByaW50KGhpZGUoSlNPTi5zdHJpbmdpZnkobWF0cml4RG9jdW1lbnQobWF0cml4Lm1hdHJpeCgpKSkpKTtcbiAgZWxzZSB0ZXJtaW5hbC5wcmludChgXFxuJHttYXRyaXhUZXh0KG1hdHJpeC5tYXRyaXgoKSwgdGVybWluYWwsIGhpZGUpfWApO1xufVxuIiwgIi8qKiBgcnVuIC0tcmVzdW1lYCwgYC0tZmFpbGVkLW9mYCBhbmQgYC0tdW5kb2A6IHdoYXQgYW4gZWFybGllciBjb21tYW5kIGxlZnQsIGFzIGl0IHdhcyBhc2tlZCBmb3IgdGhlbi4gKi9cbmltcG9ydCB7IG1ha2VSZWRhY3RvciB9IGZyb20gJy4uLy4uL2NvcmUvZWNoby9yZWRhY3Rvci5qcyc7XG5pbXBvcnQgeyBzaG9ydFRleHQgfSBmcm9tICcuLi8uLi9jb3JlL21hdGNoZXIvcmVhZGluZy5qcyc7XG5pbXBvcnQgeyBQcm9ibGVtIH0gZnJvbSAnLi4vLi4vY29yZS9wcm9ibGVtL3Byb2JsZW0uanMnO1xuaW1wb3J0IHR5cGUgeyBCZWZvcmUgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL2pvdXJuYWwvYmVmb3JlLmpzJztcbmltcG9ydCB7IG1ha2VNYXRyaXggfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3J1bi9tYXRyaXguanMnO1xuaW1wb3J0IHsgcGxhbk5hbWVzIH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC9ydW4vbmFtZXMuanMnO1xuaW1wb3J0IHsgZGVtYW5kSWRsZSwgZWFybGllclJ1biwgZmFpbGVkUGFydHMsIG9wZW5SdW4sIHR5cGUgUnVuT3JkZXIgfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3J1bi9vcGVuLXJ1bi5qcyc7XG5pbXBvcnQgeyBsZWZ0T2YsIHVuZG9SdW4gfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3J1bi91bmRvLXJ1bi5qcyc7XG5pbXBvcnQgeyB0eXBlIENvbnRleHQsIHNldHRpbmdzT2YgfSBmcm9tICcuLi9jb250ZXh0LmpzJztcbmltcG9ydCB7IGV2ZW50TGluZXMgfSBmcm9tICcuLi92aWV3L3J1bi5qcyc7XG5pbXBvcnQgeyBldmVudERvY3VtZW50LCB1bmRvU3VtbWFyeURvY3VtZW50IH0gZnJvbSAnLi4vdmlldy9ydW4tZG9jdW1lbnRzLmpzJztcbmltcG9ydCB7IHR5cGUgT3BlbmVkLCBvcGVuZWQgfSBmcm9tICcuL29wZW5lZC5qcyc7XG5pbXBvcnQgdHlwZSB7IFJ1bldpc2hlcyB9IGZyb20gJy4vb3B0aW9ucy5qcyc7XG5pbXBvcnQgeyB0ZWxsTWF0cml4LCB3YWxrQWhlYWQsIHdvcmtlciB9IGZyb20gJy4vd2Fsay1haGVhZC5qcyc7XG5cbi8qKiBgLS1yZXN1bWVgIGFuZCBgLS1mYWlsZWQtb2ZgLiAqL1xuZXhwb3J0IGFzeW5jIGZ1bmN0aW9uIHdhbGtFYXJsaWVyKGNvbnRleHQ6IENvbnRleHQsIHJ1bjogc3RyaW5nLCB3aXNoZXM6IFJ1bldpc2hlcyk6IFByb21pc2U8bnVtYmVyPiB7XG4gIGNvbnN0IHsgb3duLCBiZWZvcmUsIG9yZGVyIH0gPSBhd2FpdCBlYXJsaWVyKGNvbnRleHQsIHJ1biwgd2lzaGVzKTtcbiAgY29uc3QgeyByb3dzLCBhdE9uY2UgfSA9IG9yZGVyLm9wdGlvbnM7XG4gIGNvbnN0IHBsYW5zID0gYXdhaXQgcGxhbk5hbWVzKG93bi53b3Jrc3BhY2UsIG9yZGVyLm5hbWVzLCB7IHJvd3MsIGF0T25jZSB9KTtcbiAgb3duLndvcmtzcGFjZS5jaGVja1NldHRpbmdzKHBsYW5zLmZsYXRNYXAoKHsgdGFrZXMgfSkgPT4gdGFrZXMpKTtcbiAgY29uc3QgbWF0cml4ID0gd2lzaGVzLm1hdHJpeCA/IG1ha2VNYXRyaXgoc2hvcnRUZXh0KSA6IHVuZGVmaW5lZDtcbiAgY29uc3Qgd2Fsa2luZyA9IHsgLi4ub3duLCBwbGFucywgd2lzaGVzLCBtYXRyaXgsIGVudmlyb25tZW50OiB1bmRlZmluZWQgfTtcbiAgbGV0IHN0YXR1czogbnVtYmVyO1xuICBpZiAod2lzaGVzLnJlc3VtZSAhPT0gdW5kZWZpbmVkKSB7XG4gICAgZGVtYW5kSWRsZShiZWZvcmUsIHdvcmtlcik7XG4gICAgc3RhdHVzID0gYXdhaXQgd2Fsa0FoZWFkKHdhbGtpbmcsIG9yZGVyLCBjb250ZXh0LCBiZWZvcmUpO1xuICB9IGVsc2Uge1xuICAgIGNvbnN0IHBhcnRzID0gZmFpbGVkUGFydHMocGxhbnMsIGJlZm9yZSk7XG4gICAgaWYgKHBhcnRzLmV2ZXJ5KChwYXJ0KSA9PiBwYXJ0ID09PSAnbm9uZScpKSB7XG4gICAgICBjb250ZXh0LnRlcm1pbmFsLm5vdGUoYG5vdGhpbmcgZmFpbGVkIGluIHJ1biAke2JlZm9yZS5oZWFkZXIucnVufWApO1xuICAgICAgcmV0dXJuIDA7XG4gICAgfVxuICAgIGNvbnN0IG9wdGlvbnMgPSB7IHJvd3MsIGF0T25jZSwgcmVwZWF0OiAxLCBldmVyeTogMCwgcGFydHMgfTtcbiAgICBzdGF0dXMgPSBhd2FpdCB3YWxrQWhlYWQod2Fsa2luZywgeyAuLi5vcmRlciwgb3B0aW9ucyB9LCBjb250ZXh0KTtcbiAgfVxuICB0ZWxsTWF0cml4KG1hdHJpeCwgY29udGV4dCwgb3duLndvcmtzcGFjZS5yZWRhY3Rvci5oaWRlKTtcbiAgcmV0dXJuIHN0YXR1cztcbn1cblxuYXN5bmMgZnVuY3Rpb24gZWFybGllcihcbiAgY29udGV4dDogQ29udGV4dCxcbiAgcnVuOiBzdHJpbmcsXG4gIHdpc2hlczogUnVuV2lzaGVzLFxuKTogUHJvbWlzZTx7IG93bjogT3BlbmVkOyBiZWZvcmU6IEJlZm9yZTsgb3JkZXI6IFJ1bk9yZGVyIH0+IHtcbiAgY29uc3QgeyBob21lIH0gPSBjb250ZXh0O1xuICBpZiAoY29udGV4dC5vcHRpb25zLmVudiAhPT0gdW5kZWZpbmVkKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ3VzYWdlJywgeyB3aGF0OiAnLS1lbnY6IHRoZSBydW4ga25vd3MgaXRzIGVudmlyb25tZW50JywgcmVtZWR5OiAnbGVhdmUgaXQgb3V0JyB9KTtcbiAgfVxuICBjb25zdCBjb2xsZWN0aW9uID0gYXdhaXQgY29udGV4dC5jb2xsZWN0aW9uKCk7XG4gIGNvbnN0IHJlZGFjdG9yID0gbWFrZVJlZGFjdG9yKCk7XG4gIGNvbnN0IHsgYmVmb3JlLCBvcmRlciB9ID0gYXdhaXQgZWFybGllclJ1bihjb2xsZWN0aW9uLmxvY2FsLCBob21lLCBydW4sIHJlZGFjdG9yKTtcbiAgY29uc3Qgc2V0dGluZ3MgPSBuZXcgTWFwKFsuLi5vcmRlci5zZXR0aW5ncywgLi4uc2V0dGluZ3NPZihjb250ZXh0Lm9wdGlvbnMuc2V0ID8/IFtdKV0pO1xuICBjb25zdCBvd24gPSBhd2FpdCBvcGVuZWQoY29udGV4dCwgd2lzaGVzLCB7IGVudmlyb25tZW50OiBvcmRlci5lbnZpcm9ubWVudCwgc2V0dGluZ3MsIHJlZGFjdG9yLCBjb2xsZWN0aW9uIH0pO1xuICBjb25zdCBvcHRpb25zID0geyAuLi5vcmRlci5vcHRpb25zLCBhdE9uY2U6IHdpc2hlcy5hdE9uY2UgPz8gb3JkZXIub3B0aW9ucy5hdE9uY2UgfTtcbiAgcmV0dXJuIHsgb3duLCBiZWZvcmUsIG9yZGVyOiB7IC4uLm9yZGVyLCBzZXR0aW5ncywgb3B0aW9ucyB9IH07XG59XG5cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiB1bmRvRWFybGllcihjb250ZXh0OiBDb250ZXh0LCBydW46IHN0cmluZywgd2lzaGVzOiBSdW5XaXNoZXMpOiBQcm9taXNlPG51bWJlcj4ge1xuICBjb25zdCB7IHRlcm1pbmFsLCBzaWduYWwgfSA9IGNvbnRleHQ7XG4gIGNvbnN0IHsgb3duLCBiZWZvcmUsIG9yZGVyIH0gPSBhd2FpdCBlYXJsaWVyKGNvbnRleHQsIHJ1biwgd2lzaGVzKTtcbiAgZGVtYW5kSWRsZShiZWZvcmUsIHdvcmtlcik7XG4gIGNvbnN0IHsgd29ya3NwYWNlIH0gPSBvd247XG4gIGNvbnN0IHsgaGlkZSB9ID0gd29ya3NwYWNlLnJlZGFjdG9yO1xuICBpZiAobGVmdE9mKGJlZm9yZSkubGVuZ3RoID09PSAwKSB7XG4gICAgY29uc3Qgbm9uZSA9IHsgcnVuOiBiZWZvcmUuaGVhZGVyLnJ1biwgdW5kb25lOiAwLCBub3RVbmRvbmU6IDAgfTtcbiAgICBpZiAodGVybWluYWwuanNvbikgdGVybWluYWwucHJpbnQoSlNPTi5zdHJpbmdpZnkodW5kb1N1bW1hcnlEb2N1bWVudChub25lKSkpO1xuICAgIGVsc2UgdGVybWluYWwubm90ZShgcnVuICR7bm9uZS5ydW59IGxlZnQgbm90aGluZyB0aGF0IGlzIHRvIGJlIHRha2VuIGJhY2tgKTtcbiAgICByZXR1cm4gMDtcbiAgfVxuICB3b3Jrc3BhY2UuZXhwZWN0Q2hhbmdlcyh7IGNhbGxzOiBsZWZ0T2YoYmVmb3JlKS5sZW5ndGgsIHJvd3M6IGZhbHNlIH0pO1xuICBjb25zdCBqb3VybmFsID0gYXdhaXQgb3BlblJ1bih3b3Jrc3BhY2UsIGNvbnRleHQuaG9tZSwgdW5kZWZpbmVkLCBvcmRlciwgd29ya2VyLCBiZWZvcmUpO1xuICB0cnkge1xuICAgIGNvbnN0IHN1bW1hcnkgPSBhd2FpdCB1bmRvUnVuKFxuICAgICAgd29ya3NwYWNlLFxuICAgICAgYmVmb3JlLFxuICAgICAgam91cm5hbCxcbiAgICAgIChldmVudCkgPT4ge1xuICAgICAgICBpZiAodGVybWluYWwuanNvbikgdGVybWluYWwucHJpbnQoaGlkZShKU09OLnN0cmluZ2lmeShldmVudERvY3VtZW50KGV2ZW50LCBoaWRlKSkpKTtcbiAgICAgICAgZWxzZSBmb3IgKGNvbnN0IGxpbmUgb2YgZXZlbnRMaW5lcyhldmVudCwgdGVybWluYWwsIGhpZGUpKSB0ZXJtaW5hbC5wcmludChsaW5lKTtcbiAgICAgIH0sXG4gICAgICBzaWduYWwsXG4gICAgKTtcbiAgICBpZiAodGVybWluYWwuanNvbikgdGVybWluYWwucHJpbnQoSlNPTi5zdHJpbmdpZnkodW5kb1N1bW1hcnlEb2N1bWVudChzdW1tYXJ5KSkpO1xuICAgIGVsc2Uge1xuICAgICAgY29uc3QgbGVmdCA9IHN1bW1hcnkubm90VW5kb25lID4gMCA/IGAsICR7dGVybWluYWwub3V0LnJlZChgJHtzdW1tYXJ5Lm5vdFVuZG9uZX0gbm90YCl9YCA6ICcnO1xuICAgICAgdGVybWluYWwucHJpbnQoYHJ1biAke3N1bW1hcnkucnVufTogJHtzdW1tYXJ5LnVuZG9uZX0gdW5kb25lJHtsZWZ0fWApO1xuICAgIH1cbiAgICByZXR1cm4gc2lnbmFsLmFib3J0ZWQgPyAxMzAgOiBzdW1tYXJ5Lm5vdFVuZG9uZSA+IDAgPyAxIDogMDtcbiAgfSBmaW5hbGx5IHtcbiAgICBhd2FpdCBqb3VybmFsLmNsb3NlKCk7XG4gIH1cbn1cbiIsICIvKiogV2hhdCB0aGUgY29tbWFuZCBsaW5lIHNheXMgb2YgYSBydW4uICovXG5pbXBvcnQgdHlwZSB7IENvbW1hbmQgfSBmcm9tICdjb21tYW5kZXInO1xuaW1wb3J0IHsgUHJvYmxlbSB9IGZyb20gJy4uLy4uL2NvcmUvcHJvYmxlbS9wcm9ibGVtLmpzJztcbmltcG9ydCB7IHBhcnNlRHVyYXRpb24gfSBmcm9tICcuLi8uLi9jb3JlL3ZhbHVlL21lYXN1cmVzLmpzJztcbmltcG9ydCB7IHdob2xlTnVtYmVyIH0gZnJvbSAnLi4vd2hvbGUtbnVtYmVyLmpzJztcblxuZXhwb3J0IGludGVyZmFjZSBSdW5XaXNoZXMge1xuICByZWFkb25seSByb3dzOiBzdHJpbmcgfCB1bmRlZmluZWQ7XG4gIHJlYWRvbmx5IGF0T25jZTogbnVtYmVyIHwgdW5kZWZpbmVkO1xuICByZWFkb25seSBhbGxvd0NoYW5nZXM6IGJvb2xlYW47XG4gIHJlYWRvbmx5IGFjY2VwdDogYm9vbGVhbjtcbiAgcmVhZG9ubHkgZHJ5UnVuOiBib29sZWFuO1xuICByZWFkb25seSBzdG9wQXRGaXJzdEZhaWx1cmU6IGJvb2xlYW47XG4gIC8qKiBIb3cgb2Z0ZW4gYWxsIGlzIHdhbGtlZDsgdW5kZWZpbmVkIGZvciBhcyBsb25nIGFzIG5vYm9keSBlbmRzIGl0LiAqL1xuICByZWFkb25seSByZXBlYXQ6IG51bWJlciB8IHVuZGVmaW5lZDtcbiAgLyoqIE1pbGxpc2Vjb25kcyBmcm9tIG9uZSBiZWdpbm5pbmcgdG8gdGhlIG5leHQuICovXG4gIHJlYWRvbmx5IGV2ZXJ5OiBudW1iZXI7XG4gIHJlYWRvbmx5IHVudGlsOiAnb2snIHwgJ2ZhaWxlZCcgfCB1bmRlZmluZWQ7XG4gIHJlYWRvbmx5IG1hdHJpeDogYm9vbGVhbjtcbiAgcmVhZG9ubHkgcmVzdW1lOiBzdHJpbmcgfCB1bmRlZmluZWQ7XG4gIHJlYWRvbmx5IGZhaWxlZE9mOiBzdHJpbmcgfCB1bmRlZmluZWQ7XG4gIHJlYWRvbmx5IHVuZG86IHN0cmluZyB8IHVuZGVmaW5lZDtcbn1cblxuZXhwb3J0IGZ1bmN0aW9uIHJ1bk9wdGlvbnMoY29tbWFuZDogQ29tbWFuZCk6IENvbW1hbmQge1xuICByZXR1cm4gY29tbWFuZFxuICAgIC5vcHRpb24oJy0tYWxsb3ctY2hhbmdlcycsICdzYXkgeWVzIHdoZXJlIHRoZSBlbnZpcm9ubWVudCBhc2tzIGJlZm9yZSBhIGNoYW5nZScpXG4gICAgLm9wdGlvbignLS1yb3dzIDxmaWxlPicsICdvbmNlIGEgcm93IG9mIHRoaXMgZmlsZSwgLSBmb3Igc3RhbmRhcmQgaW5wdXQ7IGluIHBsYWNlIG9mIHRoZSByb3dzIG9mIHRoZSB0cmFpbCcpXG4gICAgLm9wdGlvbignLS1hdC1vbmNlIDxudW1iZXI+JywgJ3NvIG1hbnkgcm93cyBhdCBvbmNlOyBpbiBwbGFjZSBvZiB3aGF0IHRoZSB0cmFpbCBzYXlzJylcbiAgICAub3B0aW9uKCctLXN0b3AtYXQtZmlyc3QtZmFpbHVyZScsICdiZWdpbiBubyBmdXJ0aGVyIHJvdyBvciBpdGVyYXRpb24gb25jZSBhIHN0ZXAgaGFzIGZhaWxlZCcpXG4gICAgLm9wdGlvbignLS1kcnktcnVuJywgJ2V2ZXJ5dGhpbmcgYnV0IHRoZSBzZW5kaW5nOiB3aGF0IHdvdWxkIGxlYXZlLCBhcyBmYXIgYXMgbm8gYW5zd2VyIGlzIG5lZWRlZCBmb3IgaXQnKVxuICAgIC5vcHRpb24oJy0tcmVwZWF0IDxudW1iZXI+JywgJ3dhbGsgaXQgc28gbWFueSB0aW1lcycpXG4gICAgLm9wdGlvbignLS1ldmVyeSA8ZHVyYXRpb24+JywgJ3dhbGsgaXQgYWdhaW4gYW5kIGFnYWluLCBiZWdpbm5pbmcgZXZlcnkgMzBzLCA1bSwgMWgnKVxuICAgIC5vcHRpb24oJy0tdW50aWwgPG91dGNvbWU+JywgJ3dpdGggLS1yZXBlYXQgb3IgLS1ldmVyeTogZW5kIHdpdGggdGhlIGZpcnN0IHdhbGsgdGhhdCBpcyBvaywgb3IgdGhhdCBmYWlsZWQnKVxuICAgIC5vcHRpb24oJy0tYWNjZXB0JywgJ3dyaXRlIHdoYXQgc2FtZS1hcyBmaW5kcyB0byBpdHMgZmlsZSwgYWZ0ZXIgc2hvd2luZyB0aGUgZGlmZmVyZW5jZScpXG4gICAgLm9wdGlvbignLS1tYXRyaXgnLCAnZW5kIHdpdGggcm93cyBieSBjaGVja3MsIGFuZCBldmVyeSBkZXZpYXRpb24nKVxuICAgIC5vcHRpb24oJy0tcmVzdW1lIDxydW4+JywgJ2dvIG9uIHdpdGggYSBydW4gdGhhdCB3YXMgaW50ZXJydXB0ZWQgb3Iga2lsbGVkOyBsYXN0IGZvciB0aGUgbGFzdCBvbmUnKVxuICAgIC5vcHRpb24oJy0tZmFpbGVkLW9mIDxydW4+JywgJ3dhbGsgb25seSB3aGF0IGZhaWxlZCBpbiBhIHJ1bicpXG4gICAgLm9wdGlvbignLS11bmRvIDxydW4+JywgJ3Rha2UgYmFjayB3aGF0IGEgcnVuIG1hZGUgYW5kIGhhcyBub3QgdGFrZW4gYmFjaycpO1xufVxuXG5leHBvcnQgZnVuY3Rpb24gcnVuV2lzaGVzKG9wdGlvbnM6IFJlY29yZDxzdHJpbmcsIHVua25vd24+LCBuYW1lczogcmVhZG9ubHkgc3RyaW5nW10pOiBSdW5XaXNoZXMge1xuICBjb25zdCB0ZXh0ID0gKG5hbWU6IHN0cmluZyk6IHN0cmluZyB8IHVuZGVmaW5lZCA9PiBvcHRpb25zW25hbWVdIGFzIHN0cmluZyB8IHVuZGVmaW5lZDtcbiAgY29uc3QgZmxhZyA9IChuYW1lOiBzdHJpbmcpOiBib29sZWFuID0+IG9wdGlvbnNbbmFtZV0gPT09IHRydWU7XG4gIGNvbnN0IG51bWJlciA9IChuYW1lOiBzdHJpbmcsIGZsYWdOYW1lOiBzdHJpbmcpOiBudW1iZXIgfCB1bmRlZmluZWQgPT5cbiAgICB0ZXh0KG5hbWUpID09PSB1bmRlZmluZWQgPyB1bmRlZmluZWQgOiB3aG9sZU51bWJlcih0ZXh0KG5hbWUpIGFzIHN0cmluZywgZmxhZ05hbWUsIHsgbGVhc3Q6IDEgfSk7XG4gIGNvbnN0IHdpc2hlczogUnVuV2lzaGVzID0ge1xuICAgIHJvd3M6IHRleHQoJ3Jvd3MnKSxcbiAgICBhdE9uY2U6IG51bWJlcignYXRPbmNlJywgJy0tYXQtb25jZScpLFxuICAgIGFsbG93Q2hhbmdlczogZmxhZygnYWxsb3dDaGFuZ2VzJyksXG4gICAgYWNjZXB0OiBmbGFnKCdhY2NlcHQnKSxcbiAgICBkcnlSdW46IGZsYWcoJ2RyeVJ1bicpLFxuICAgIHN0b3BBdEZpcnN0RmFpbHVyZTogZmxhZygnc3RvcEF0Rmlyc3RGYWlsdXJlJyksXG4gICAgcmVwZWF0OiBudW1iZXIoJ3JlcGVhdCcsICctLXJlcGVhdCcpID8/ICh0ZXh0KCdldmVyeScpID09PSB1bmRlZmluZWQgPyAxIDogdW5kZWZpbmVkKSxcbiAgICBldmVyeTogZXZlcnlPZih0ZXh0KCdldmVyeScpKSxcbiAgICB1bnRpbDogdW50aWxPZih0ZXh0KCd1bnRpbCcpKSxcbiAgICBtYXRyaXg6IGZsYWcoJ21hdHJpeCcpLFxuICAgIHJlc3VtZTogdGV4dCgncmVzdW1lJyksXG4gICAgZmFpbGVkT2Y6IHRleHQoJ2ZhaWxlZE9mJyksXG4gICAgdW5kbzogdGV4dCgndW5kbycpLFxuICB9O1xuICBjb25zdCBlYXJsaWVyID0gKFsncmVzdW1lJywgJ2ZhaWxlZE9mJywgJ3VuZG8nXSBhcyBjb25zdCkuZmlsdGVyKChuYW1lKSA9PiB3aXNoZXNbbmFtZV0gIT09IHVuZGVmaW5lZCk7XG4gIGNvbnN0IFtmaXJzdF0gPSBlYXJsaWVyO1xuICBpZiAoZWFybGllci5sZW5ndGggPiAxKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ3VzYWdlJywgeyB3aGF0OiBgJHtlYXJsaWVyLm1hcChmbGFnT2YpLmpvaW4oJyBhbmQgJyl9IGNhbm5vdCBiZSBoYWQgdG9nZXRoZXJgIH0pO1xuICB9XG4gIGlmIChmaXJzdCA9PT0gdW5kZWZpbmVkICYmIG5hbWVzLmxlbmd0aCA9PT0gMCkge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCd1c2FnZScsIHtcbiAgICAgIHdoYXQ6ICdub3RoaW5nIGlzIG5hbWVkIHRoYXQgaXMgdG8gYmUgd2Fsa2VkJyxcbiAgICAgIHJlbWVkeTogJ2VjaG8tdHJhaWwgbGlzdCBzaG93cyB0aGUgdHJhaWxzIGFuZCByZXF1ZXN0czsgLS1yZXN1bWUsIC0tZmFpbGVkLW9mIGFuZCAtLXVuZG8gdGFrZSBhIHJ1biBpbnN0ZWFkJyxcbiAgICB9KTtcbiAgfVxuICBpZiAoZmlyc3QgIT09IHVuZGVmaW5lZCAmJiBuYW1lcy5sZW5ndGggPiAwKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ3VzYWdlJywge1xuICAgICAgd2hhdDogYCR7ZmxhZ09mKGZpcnN0KX0gdGFrZXMgYSBydW4sIHdoaWNoIGtub3dzIHdoYXQgaXQgd2Fsa2VkYCxcbiAgICAgIHJlbWVkeTogYGxlYXZlICR7bmFtZXMuam9pbignICcpfSBvdXRgLFxuICAgIH0pO1xuICB9XG4gIGNvbnN0IG93biA9IChbJ3Jvd3MnLCAncmVwZWF0JywgJ2V2ZXJ5JywgJ3VudGlsJ10gYXMgY29uc3QpLmZpbmQoKG5hbWUpID0+IHRleHQobmFtZSkgIT09IHVuZGVmaW5lZCk7XG4gIGlmIChmaXJzdCAhPT0gdW5kZWZpbmVkICYmIG93biAhPT0gdW5kZWZpbmVkKSB7XG4gICAgdGhyb3cgbmV3IFByb2JsZW0oJ3VzYWdlJywge1xuICAgICAgd2hhdDogYC0tJHtvd259OiB0aGUgcnVuIHRoYXQgJHtmbGFnT2YoZmlyc3QpfSBuYW1lcyBrbm93cyBpdHMgb3duYCxcbiAgICAgIHJlbWVkeTogJ2xlYXZlIGl0IG91dCcsXG4gICAgfSk7XG4gIH1cbiAgaWYgKHdpc2hlcy5kcnlSdW4gJiYgKGZpcnN0ID09PSAncmVzdW1lJyB8fCBmaXJzdCA9PT0gJ3VuZG8nKSkge1xuICAgIHRocm93IG5ldyBQcm9ibGVtKCd1c2FnZScsIHsgd2hhdDogYC0tZHJ5LXJ1biBhbmQgJHtmbGFnT2YoZmlyc3QpfSBjYW5ub3QgYmUgaGFkIHRvZ2V0aGVyYCB9KTtcbiAgfVxuICBpZiAod2lzaGVzLnVudGlsICE9PSB1bmRlZmluZWQgJiYgdGV4dCgnZXZlcnknKSA9PT0gdW5kZWZpbmVkICYmIHRleHQoJ3JlcGVhdCcpID09PSB1bmRlZmluZWQpIHtcbiAgICB0aHJvdyBuZXcgUHJvYmxlbSgndXNhZ2UnLCB7IHdoYXQ6ICctLXVudGlsIGdvZXMgd2l0aCAtLXJlcGVhdCBvciAtLWV2ZXJ5JyB9KTtcbiAgfVxuICByZXR1cm4gd2lzaGVzO1xufVxuXG5jb25zdCBmbGFnT2YgPSAobmFtZTogc3RyaW5nKTogc3RyaW5nID0+IGAtLSR7bmFtZS5yZXBsYWNlKC9bQS1aXS9nLCAobGV0dGVyKSA9PiBgLSR7bGV0dGVyLnRvTG93ZXJDYXNlKCl9YCl9YDtcblxuZnVuY3Rpb24gZXZlcnlPZih0ZXh0OiBzdHJpbmcgfCB1bmRlZmluZWQpOiBudW1iZXIge1xuICBpZiAodGV4dCA9PT0gdW5kZWZpbmVkKSByZXR1cm4gMDtcbiAgY29uc3QgZm91bmQgPSBwYXJzZUR1cmF0aW9uKHRleHQpO1xuICBpZiAoZm91bmQgIT09IHVuZGVmaW5lZCAmJiBmb3VuZCA+IDApIHJldHVybiBmb3VuZDtcbiAgdGhyb3cgbmV3IFByb2JsZW0oJ3VzYWdlJywgeyB3aGF0OiBgLS1ldmVyeSB0YWtlcyBhIGR1cmF0aW9uIHdpdGggaXRzIHVuaXQsIHN1Y2ggYXMgMzBzIG9yIDVtLCBub3QgJHt0ZXh0fWAgfSk7XG59XG5cbmZ1bmN0aW9uIHVudGlsT2YodGV4dDogc3RyaW5nIHwgdW5kZWZpbmVkKTogUnVuV2lzaGVzWyd1bnRpbCddIHtcbiAgaWYgKHRleHQgPT09IHVuZGVmaW5lZCB8fCB0ZXh0ID09PSAnb2snIHx8IHRleHQgPT09ICdmYWlsZWQnKSByZXR1cm4gdGV4dDtcbiAgdGhyb3cgbmV3IFByb2JsZW0oJ3VzYWdlJywgeyB3aGF0OiBgLS11bnRpbCB0YWtlcyBvayBvciBmYWlsZWQsIG5vdCAke3RleHR9YCB9KTtcbn1cbiIsICIvKiogYHJ1biBOQU1FU2A6IGluIG9uZSBlbnZpcm9ubWVudCwgb3IgaW4gc2V2ZXJhbC4gKi9cbmltcG9ydCB7IHNob3J0VGV4dCB9IGZyb20gJy4uLy4uL2NvcmUvbWF0Y2hlci9yZWFkaW5nLmpzJztcbmltcG9ydCB7IG1ha2VNYXRyaXggfSBmcm9tICcuLi8uLi9jb3JlL3RyYWlsL3J1bi9tYXRyaXguanMnO1xuaW1wb3J0IHsgcGxhbk5hbWVzIH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC9ydW4vbmFtZXMuanMnO1xuaW1wb3J0IHR5cGUgeyBSdW5PcmRlciB9IGZyb20gJy4uLy4uL2NvcmUvdHJhaWwvcnVuL29wZW4tcnVuLmpzJztcbmltcG9ydCB0eXBlIHsgVHJhaWxQbGFuIH0gZnJvbSAnLi4vLi4vY29yZS90cmFpbC9zdGVwLWtpbmQuanMnO1xuaW1wb3J0IHR5cGUgeyBDb250ZXh0IH0gZnJvbSAnLi4vY29udGV4dC5qcyc7XG5pbXBvcnQgeyB0eXBlIE9wZW5lZCwgb3BlbmVkIH0gZnJvbSAnLi9vcGVuZWQuanMnO1xuaW1wb3J0IHR5cGUgeyBSdW5XaXNoZXMgfSBmcm9tICcuL29wdGlvbnMuanMnO1xuaW1wb3J0IHsgdGVsbE1hdHJpeCwgd2Fsa0FoZWFkIH0gZnJvbSAnLi93YWxrLWFoZWFkLmpzJztcbmltcG9ydCB7IHdvcnNlIH0gZnJvbSAnLi93YWxrLXBsYW5zLmpzJztcblxuLyoqIE9uZSBlbnZpcm9ubWVudCwgb3Igc2V2ZXJhbCBvZiB0aGVtIG9uZSBhZnRlciB0aGUgb3RoZXI7IGFsbCBvZiB0aGVtIGFyZSByZWFkIGJlZm9yZSB0aGUgZmlyc3Qgc3RlcC4gKi9cbmV4cG9ydCBhc3luYyBmdW5jdGlvbiB3YWxrTmFtZXMoY29udGV4dDogQ29udGV4dCwgbmFtZXM6IHJlYWRvbmx5IHN0cmluZ1tdLCB3aXNoZXM6IFJ1bldpc2hlcyk6IFByb21pc2U8bnVtYmVyPiB7XG4gIGNvbnN0IHsgdGVybWluYWwgfSA9IGNvbnRleHQ7XG4gIGNvbnN0IGVudmlyb25tZW50cyA9IGNvbnRleHQub3B0aW9ucy5lbnY/LnNwbGl0KCcsJykubWFwKChuYW1lKSA9PiBuYW1lLnRyaW0oKSkgPz8gW3VuZGVmaW5lZF07XG4gIGNvbnN0IHNldmVyYWwgPSBlbnZpcm9ubWVudHMubGVuZ3RoID4gMTtcbiAgY29uc3QgbWF0cml4ID0gd2lzaGVzLm1hdHJpeCB8fCBzZXZlcmFsID8gbWFrZU1hdHJpeChzaG9ydFRleHQpIDogdW5kZWZpbmVkO1xuICBjb25zdCBhbGw6IChPcGVuZWQgJiB7IHJlYWRvbmx5IHBsYW5zOiByZWFkb25seSBUcmFpbFBsYW5bXSB9KVtdID0gW107XG4gIGZvciAoY29uc3QgZW52aXJvbm1lbnQgb2YgZW52aXJvbm1lbnRzKSB7XG4gICAgY29uc3Qgb3duID0gYXdhaXQgb3BlbmVkKGNvbnRleHQsIHdpc2hlcywgeyBlbnZpcm9ubWVudCB9KTtcbiAgICBjb25zdCBwbGFucyA9IGF3YWl0IHBsYW5OYW1lcyhvd24ud29ya3NwYWNlLCBuYW1lcywgd2lzaGVzKTtcbiAgICBvd24ud29ya3NwYWNlLmNoZWNrU2V0dGluZ3MocGxhbnMuZmxhdE1hcCgoeyB0YWtlcyB9KSA9PiB0YWtlcykpO1xuICAgIGFsbC5wdXNoKHsgLi4ub3duLCBwbGFucyB9KTtcbiAgfVxuICBsZXQgc3RhdHVzID0gMDtcbiAgZm9yIChjb25zdCBvd24gb2YgYWxsKSB7XG4gICAgaWYgKGNvbnRleHQuc2lnbmFsLmFib3J0ZWQpIGJyZWFrO1xuICAgIGNvbnN0IHsgc2V0dGluZ3MsIGVudmlyb25tZW50IH0gPSBvd24ud29ya3NwYWNlO1xuICAgIGlmIChzZXZlcmFsICYmICF0ZXJtaW5hbC5qc29uKSB0ZXJtaW5hbC5ub3RlKHRlcm1pbmFsLmVyci5ib2xkKGBlbnZpcm9ubWVudCAke2Vudmlyb25tZW50Lm5hbWV9YCkpO1xuICAgIGNvbnN0IHsgcm93cywgYXRPbmNlLCByZXBlYXQsIGV2ZXJ5LCB1bnRpbCB9ID0gd2lzaGVzO1xuICAgIGNvbnN0IG9wdGlvbnMgPSB7IHJvd3MsIGF0T25jZSwgcmVwZWF0LCBldmVyeSwgdW50aWwgfTtcbiAgICBjb25zdCBvcmRlcjogUnVuT3JkZXIgPSB7IG5hbWVzLCBlbnZpcm9ubWVudDogZW52aXJvbm1lbnQubmFtZSwgc2V0dGluZ3MsIG9wdGlvbnMgfTtcbiAgICBjb25zdCB3YWxraW5nID0geyAuLi5vd24sIHdpc2hlcywgbWF0cml4LCBlbnZpcm9ubWVudDogc2V2ZXJhbCA/IGVudmlyb25tZW50Lm5hbWUgOiB1bmRlZmluZWQgfTtcbiAgICBzdGF0dXMgPSB3b3JzZShzdGF0dXMsIGF3YWl0IHdhbGtBaGVhZCh3YWxraW5nLCBvcmRlciwgY29udGV4dCkpO1xuICAgIGlmIChzZXZlcmFsKSBtYXRyaXg/LmVuZGVkKGVudmlyb25tZW50Lm5hbWUpO1xuICB9XG4gIHRlbGxNYXRyaXgobWF0cml4LCBjb250ZXh0LCBjb250ZXh0LnJlZGFjdG9yKCk/LmhpZGUgPz8gKCh0ZXh0KSA9PiB0ZXh0KSk7XG4gIHJldHVybiBzdGF0dXM7XG59XG4iLCAiLyoqIGBydW5gOiB0cmFpbHMgYW5kIHJlcXVlc3RzLCB3YWxrZWQuICovXG5pbXBvcnQgeyB0eXBlIENvbW1hbmRNb2R1bGUsIGV4YW1wbGVzIH0gZnJvbSAnLi4vY29tbWFuZC5qcyc7XG5pbXBvcnQgeyB1bmRvRWFybGllciwgd2Fsa0VhcmxpZXIgfSBmcm9tICcuLi93YWxraW5nL2VhcmxpZXIuanMnO1xuaW1wb3J0IHsgcnVuT3B0aW9ucywgcnVuV2lzaGVzIH0gZnJvbSAnLi4vd2Fsa2luZy9vcHRpb25zLmpzJztcbmltcG9ydCB7IHdhbGtOYW1lcyB9IGZyb20gJy4uL3dhbGtpbmcvd2Fsay1uYW1lcy5qcyc7XG5cbmV4cG9ydCBjb25zdCB7IGNvbmZpZ3VyZSB9OiBDb21tYW5kTW9kdWxlID0ge1xuICBjb25maWd1cmUoY29tbWFuZCwgcnVuKSB7XG4gICAgY29tbWFuZC5hcmd1bWVudCgnW25hbWVzLi4uXScsICd0cmFpbHMsIHJlcXVlc3RzLCBvciBmb2xkZXJzIG9mIHRoZW0sIHdhbGtlZCBvbmUgYWZ0ZXIgdGhlIG90aGVyJyk7XG4gICAgcnVuT3B0aW9ucyhjb21tYW5kKS5hY3Rpb24oXG4gICAgICBydW4oYXN5bmMgKGNvbnRleHQsIG5hbWVzLCBvcHRpb25zKSA9PiB7XG4gICAgICAgIGNvbnN0IHdpc2hlcyA9IHJ1bldpc2hlcyhvcHRpb25zLCBuYW1lcyk7XG4gICAgICAgIGlmICh3aXNoZXMudW5kbyAhPT0gdW5kZWZpbmVkKSByZXR1cm4gdW5kb0VhcmxpZXIoY29udGV4dCwgd2lzaGVzLnVuZG8sIHdpc2hlcyk7XG4gICAgICAgIGNvbnN0IGVhcmxpZXIgPSB3aXNoZXMucmVzdW1lID8/IHdpc2hlcy5mYWlsZWRPZjtcbiAgICAgICAgaWYgKGVhcmxpZXIgIT09IHVuZGVmaW5lZCkgcmV0dXJuIHdhbGtFYXJsaWVyKGNvbnRleHQsIGVhcmxpZXIsIHdpc2hlcyk7XG4gICAgICAgIHJldHVybiB3YWxrTmFtZXMoY29udGV4dCwgbmFtZXMsIHdpc2hlcyk7XG4gICAgICB9KSxcbiAgICApO1xuICAgIGV4YW1wbGVzKGNvbW1hbmQsIFtcbiAgICAgIFsncnVuIGJlcnRoLXN0YXknLCAnYSB0cmFpbCBvZiB0aGUgY29sbGVjdGlvbiddLFxuICAgICAgWydydW4gYmVydGgtc3RheSAtLXNldCBpbW89OTAwMDAzMSAtLWpzb24nLCAnZm9yIGFub3RoZXIgdmVzc2VsLCBhIGxpbmUgb2YgSlNPTiBhbiBldmVudCddLFxuICAgICAgWydydW4gdmVzc2Vscy9zaG93IGJlcnRocy9mcmVlJywgJ3R3byByZXF1ZXN0cywgd2l0aCB0aGVpciBleHBlY3RhdGlvbnMnXSxcbiAgICAgIFsncnVuIGxpZ2h0cy1hdWRpdCAtLWVudiBmbGVldCAtLW1hdHJpeCcsICdtYW55IGhvc3RzIGJ5IHdoYXQgaXMgY2hlY2tlZCwgYW5kIGV2ZXJ5IGRldmlhdGlvbiddLFxuICAgICAgWydydW4gLS1yZXN1bWUgbGFzdCcsICdnbyBvbiB3aXRoIHRoZSBsYXN0IHJ1biwgd2hlcmUgaXQgd2FzIGludGVycnVwdGVkIG9yIGtpbGxlZCddLFxuICAgIF0pO1xuICB9LFxufTtcbiJdLAogICJtYXBwaW5ncyI6ICI7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7Ozs7O0FBK0JBLElBQU0saUJBQWlCO0FBYWhCLFNBQVMsV0FBV0EsUUFBMEQ7QUFDbkYsUUFBTSxTQUFTLG9CQUFJLElBQVk7QUFDL0IsUUFBTSxlQUF5QixDQUFDO0FBQ2hDLFFBQU0sV0FNQSxDQUFDO0FBQ1AsUUFBTSxPQUFPLG9CQUFJLElBQXlGO0FBQzFHLE1BQUksT0FBTztBQUVYLFdBQVMsS0FBSyxPQUF3QjtBQUNwQyxVQUFNLE1BQU0sTUFBTSxPQUFPO0FBQ3pCLFFBQUksTUFBTSxLQUFLLElBQUksR0FBRztBQUN0QixRQUFJLENBQUMsS0FBSztBQUNSLFlBQU0sRUFBRSxPQUFPLG9CQUFJLElBQUksR0FBRyxZQUFZLENBQUMsRUFBRTtBQUN6QyxXQUFLLElBQUksS0FBSyxHQUFHO0FBQUEsSUFDbkI7QUFFQSxRQUFJLE1BQU0sVUFBVSxHQUFHO0FBQ3JCLGFBQU8sSUFBSSxNQUFNLEtBQUs7QUFDdEIsVUFBSSxNQUFNLElBQUksTUFBTSxPQUFPLFFBQVEsS0FBSyxDQUFDO0FBQUEsSUFDM0M7QUFDQSxlQUFXLGFBQWEsYUFBYSxPQUFPQSxNQUFLLEdBQUc7QUFDbEQsVUFBSSxRQUFRLGVBQWdCO0FBQzVCLGNBQVE7QUFDUixVQUFJLFdBQVcsS0FBSyxTQUFTO0FBQUEsSUFDL0I7QUFBQSxFQUNGO0FBRUEsV0FBUyxNQUFNLEtBQWEsTUFBYyxhQUEyQjtBQUNuRSxRQUFJLENBQUMsYUFBYSxTQUFTLFdBQVcsRUFBRyxjQUFhLEtBQUssV0FBVztBQUN0RSxVQUFNLE1BQU0sS0FBSyxJQUFJLEdBQUcsS0FBSyxFQUFFLE9BQU8sb0JBQUksSUFBSSxHQUFHLFlBQVksQ0FBQyxFQUFFO0FBQ2hFLFNBQUssT0FBTyxHQUFHO0FBQ2YsVUFBTSxhQUFhLElBQUksV0FBVyxJQUFJLENBQUMsU0FBUyxFQUFFLFNBQVMsTUFBTSxHQUFHLElBQUksRUFBRTtBQUMxRSxhQUFTLEtBQUssRUFBRSxhQUFhLGFBQWEsUUFBUSxXQUFXLEdBQUcsS0FBSyxNQUFNLE9BQU8sSUFBSSxPQUFPLFdBQVcsQ0FBQztBQUFBLEVBQzNHO0FBRUEsU0FBTztBQUFBLElBQ0wsS0FBSyxPQUFPLGFBQWE7QUFDdkIsVUFBSSxNQUFNLFVBQVUsT0FBUSxNQUFLLEtBQUs7QUFBQSxlQUM3QixNQUFNLFVBQVU7QUFDdkIsY0FBTSxNQUFNLEtBQUssQ0FBQyxhQUFhLE1BQU0sS0FBSyxFQUFFLE9BQU8sT0FBTyxFQUFFLEtBQUssR0FBRyxHQUFHLGVBQWUsRUFBRTtBQUFBLElBQzVGO0FBQUEsSUFDQSxNQUFNLGFBQWE7QUFDakIsVUFBSSxLQUFLLElBQUksQ0FBQyxFQUFHLE9BQU0sR0FBRyxhQUFhLFdBQVc7QUFBQSxJQUNwRDtBQUFBLElBQ0EsUUFBUSxhQUFhLFNBQVM7QUFDNUIsV0FBSyxJQUFJLEdBQUcsRUFBRSxPQUFPLG9CQUFJLElBQUksR0FBRyxZQUFZLENBQUMsUUFBUSxJQUFJLE9BQU8sQ0FBQyxFQUFFLENBQUM7QUFDcEUsWUFBTSxHQUFHLGFBQWEsV0FBVztBQUFBLElBQ25DO0FBQUEsSUFDQSxTQUFTO0FBQ1AsWUFBTSxTQUFTLENBQUMsR0FBRyxRQUFRLEVBQUUsS0FBSyxDQUFDLEdBQUcsTUFBTSxFQUFFLGNBQWMsRUFBRSxlQUFlLEVBQUUsTUFBTSxFQUFFLEdBQUc7QUFDMUYsYUFBTztBQUFBLFFBQ0wsUUFBUSxDQUFDLEdBQUcsTUFBTTtBQUFBLFFBQ2xCLFVBQVUsT0FBTyxJQUFJLENBQUMsRUFBRSxNQUFNLE1BQU0sT0FBTyxFQUFFLE1BQU0sTUFBTSxFQUFFO0FBQUEsUUFDM0QsWUFBWSxPQUFPLFFBQVEsQ0FBQyxFQUFFLFdBQVcsTUFBTSxVQUFVO0FBQUEsTUFDM0Q7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNGO0FBRUEsU0FBUyxRQUFRLEVBQUUsT0FBTyxTQUFTLEdBQXlCO0FBQzFELE1BQUksVUFBVSxTQUFVLFFBQU87QUFDL0IsU0FBTyxTQUFTLEtBQUssQ0FBQyxFQUFFLE9BQU8sTUFBTSxXQUFXLFdBQVcsSUFBSSxnQkFBZ0I7QUFDakY7QUFFQSxVQUFVLGFBQ1IsRUFBRSxPQUFPLE9BQU8sTUFBTSxNQUFNLFNBQVMsR0FDckNBLFFBQ3VDO0FBQ3ZDLFFBQU0sT0FBTyxNQUFNLFFBQVE7QUFDM0IsYUFBVyxFQUFFLE9BQU8sV0FBVyxJQUFJLFFBQVEsSUFBSSxXQUFXLE1BQU0sTUFBTSxZQUFZLENBQUMsR0FBRyxPQUFPLENBQUMsRUFBRSxHQUFHLE1BQU0sQ0FBQyxFQUFFLEdBQUc7QUFDN0csUUFBSSxDQUFDLGNBQWMsV0FBVyxXQUFXLEVBQUcsT0FBTSxFQUFFLE9BQU8sT0FBTyxVQUFVLE9BQU8sS0FBSztBQUFBLFNBQ25GO0FBQ0gsaUJBQVcsRUFBRSxJQUFBQyxLQUFJLE1BQU0sTUFBTSxLQUFLO0FBQ2hDLGNBQU0sRUFBRSxPQUFPLE9BQU9BLEtBQUksVUFBVUQsT0FBTSxJQUFJLEdBQUcsT0FBT0EsT0FBTSxLQUFLLEdBQUcsS0FBSztBQUFBLElBQy9FO0FBQUEsRUFDRjtBQUNBLGFBQVcsRUFBRSxJQUFBQyxLQUFJLE1BQU0sTUFBTSxLQUFLLE1BQU0sZUFBZSxDQUFDO0FBQ3RELFVBQU0sRUFBRSxPQUFPLE9BQU9BLEtBQUksVUFBVUQsT0FBTSxJQUFJLEdBQUcsT0FBT0EsT0FBTSxLQUFLLEdBQUcsS0FBSztBQUM3RSxRQUFNLENBQUMsTUFBTSxJQUFJLFNBQVMsT0FBTyxDQUFDLEVBQUUsT0FBTyxNQUFNLFdBQVcsV0FBVztBQUN2RSxNQUFJLE9BQVEsT0FBTSxFQUFFLEdBQUcsUUFBUSxPQUFPLE1BQU0sR0FBRyxLQUFLO0FBQ3REO0FBRUEsSUFBTSxVQUFVLENBQUMsT0FBZSxFQUFFLEtBQUssT0FBNEM7QUFBQSxFQUNqRjtBQUFBLEVBQ0EsT0FBTztBQUFBLEVBQ1AsVUFBVTtBQUFBLEVBQ1YsT0FBTztBQUFBLEVBQ1AsTUFBTTtBQUNSOzs7QUM5SEEsZUFBc0IsVUFDcEIsV0FDQSxPQUNBLFNBQXFCLENBQUMsR0FDQTtBQUN0QixRQUFNLFFBQXFCLENBQUM7QUFDNUIsYUFBVyxRQUFRLE1BQU8sT0FBTSxLQUFLLEdBQUksTUFBTSxTQUFTLFdBQVcsTUFBTSxNQUFNLENBQUU7QUFDakYsU0FBTztBQUNUO0FBRUEsZUFBZSxTQUFTLFdBQXNCLE1BQWMsUUFBMEM7QUFDcEcsUUFBTSxFQUFFLFdBQVcsSUFBSTtBQUN2QixRQUFNLFFBQVEsQ0FBQyxTQUF1QztBQUNwRCxRQUFJO0FBQ0YsaUJBQVcsUUFBUSxNQUFNLElBQUk7QUFDN0IsYUFBTztBQUFBLElBQ1QsU0FBUyxPQUFPO0FBQ2QsVUFBSSxpQkFBaUIsV0FBVyxNQUFNLFNBQVMsaUJBQWtCLE9BQU07QUFDdkUsYUFBTztBQUFBLElBQ1Q7QUFBQSxFQUNGO0FBQ0EsTUFBSSxNQUFNLE9BQU8sRUFBRyxRQUFPLENBQUMsTUFBTSxVQUFVLFdBQVcsTUFBTSxNQUFNLENBQUM7QUFDcEUsTUFBSSxNQUFNLFNBQVMsRUFBRyxRQUFPLENBQUMsTUFBTSxlQUFlLFdBQVcsTUFBTSxVQUFVLFFBQVEsSUFBSSxHQUFHLE1BQU0sQ0FBQztBQUNwRyxRQUFNLFNBQVMsR0FBRyxLQUFLLFFBQVEsMEJBQTBCLEVBQUUsRUFBRSxRQUFRLE9BQU8sRUFBRSxDQUFDO0FBQy9FLFFBQU0sV0FBVyxDQUFDLFNBQ2hCLFdBQ0csTUFBTSxJQUFJLEVBQ1YsT0FBTyxDQUFDLFFBQVEsSUFBSSxXQUFXLE1BQU0sQ0FBQyxFQUN0QyxLQUFLO0FBQ1YsUUFBTSxRQUFRLFNBQVMsT0FBTztBQUM5QixRQUFNLFFBQXFCLENBQUM7QUFDNUIsYUFBVyxTQUFTLE1BQU8sT0FBTSxLQUFLLE1BQU0sVUFBVSxXQUFXLE9BQU8sTUFBTSxDQUFDO0FBQy9FLE1BQUksTUFBTSxXQUFXLEdBQUc7QUFDdEIsZUFBVyxXQUFXLFNBQVMsU0FBUztBQUN0QyxZQUFNLEtBQUssTUFBTSxlQUFlLFdBQVcsTUFBTSxVQUFVLFFBQVEsT0FBTyxHQUFHLE1BQU0sQ0FBQztBQUFBLEVBQ3hGO0FBQ0EsTUFBSSxNQUFNLFNBQVMsRUFBRyxRQUFPO0FBQzdCLFFBQU0sSUFBSSxRQUFRLGtCQUFrQjtBQUFBLElBQ2xDLE1BQU0sMENBQTBDLElBQUk7QUFBQSxJQUNwRCxRQUFRLFlBQVksTUFBTSxDQUFDLEdBQUcsV0FBVyxNQUFNLE9BQU8sR0FBRyxHQUFHLFdBQVcsTUFBTSxTQUFTLENBQUMsQ0FBQztBQUFBLEVBQzFGLENBQUM7QUFDSDs7O0FDbkRBLFNBQVMsa0JBQWtCO0FBQzNCLFNBQVMsUUFBQUUsYUFBWTs7O0FDRHJCLFNBQVMsbUJBQW1CO0FBQzVCLFNBQVMsWUFBWTs7O0FDRHJCLFlBQVksT0FBTztBQUluQixJQUFNLE9BQVMsUUFBTSxDQUFHLFVBQVEsS0FBSyxHQUFLLFVBQVEsTUFBTSxHQUFLLFFBQVEsU0FBTyxDQUFDLENBQUMsQ0FBQztBQUcvRSxJQUFNLGFBQWUsZUFBYTtBQUFBLEVBQ2hDLE1BQVEsV0FBVyxTQUFPLENBQUM7QUFBQSxFQUMzQixRQUFVLFdBQVcsU0FBTyxDQUFDO0FBQUE7QUFBQSxFQUU3QixRQUFVLFdBQVcsU0FBTyxDQUFDO0FBQUE7QUFBQSxFQUU3QixPQUFTLFNBQU87QUFBQSxFQUNoQixPQUFTLFdBQVcsT0FBSyxDQUFDLE1BQU0sUUFBUSxDQUFDLENBQUM7QUFBQTtBQUFBLEVBRTFDLE9BQVMsV0FBVyxRQUFNLElBQUksQ0FBQztBQUNqQyxDQUFDO0FBSUQsSUFBTSxPQUFTO0FBQUEsRUFDWCxlQUFhO0FBQUEsSUFDYixNQUFRLFNBQU87QUFBQSxJQUNmLFFBQVUsU0FBTztBQUFBLElBQ2pCLE9BQVMsV0FBVyxNQUFJLENBQUM7QUFBQSxJQUN6QixRQUFVLFdBQVcsU0FBTyxDQUFDO0FBQUE7QUFBQSxJQUU3QixRQUFVLFdBQVcsVUFBUSxDQUFDO0FBQUEsRUFDaEMsQ0FBQztBQUNIO0FBR0EsSUFBTSxLQUFPLFNBQU87QUFDcEIsSUFBTSxhQUFlLE9BQUssQ0FBQyxRQUFRLFVBQVUsY0FBYyxZQUFZLENBQUM7QUFFakUsSUFBTSxjQUFnQixxQkFBbUIsUUFBUTtBQUFBO0FBQUEsRUFFcEQsZUFBYTtBQUFBLElBQ2IsTUFBUSxVQUFRLEtBQUs7QUFBQSxJQUNyQixLQUFPLFNBQU87QUFBQSxJQUNkLElBQU0sU0FBTztBQUFBO0FBQUEsSUFFYixTQUFXLFNBQU87QUFBQSxJQUNsQixhQUFlLFNBQU87QUFBQSxJQUN0QixPQUFTLFFBQVEsU0FBTyxDQUFDO0FBQUE7QUFBQSxJQUV6QixVQUFZLFNBQU87QUFBQSxJQUNuQixTQUFTO0FBQUE7QUFBQSxJQUVULFFBQVUsU0FBTztBQUFBLEVBQ25CLENBQUM7QUFBQSxFQUNDLGVBQWEsRUFBRSxNQUFRLFVBQVEsU0FBUyxHQUFHLEtBQU8sU0FBTyxHQUFHLElBQU0sU0FBTyxHQUFHLFNBQVcsU0FBTyxFQUFFLENBQUM7QUFBQTtBQUFBLEVBRWpHLGVBQWE7QUFBQSxJQUNiLE1BQVEsVUFBUSxTQUFTO0FBQUEsSUFDekI7QUFBQSxJQUNBLEtBQU8sV0FBVyxTQUFPLENBQUM7QUFBQSxJQUMxQixNQUFRLFNBQU87QUFBQSxJQUNmLEtBQU8sV0FBVyxTQUFPLENBQUM7QUFBQSxFQUM1QixDQUFDO0FBQUEsRUFDQyxlQUFhO0FBQUEsSUFDYixNQUFRLFVBQVEsTUFBTTtBQUFBLElBQ3RCO0FBQUEsSUFDQSxNQUFRLFdBQVcsU0FBTyxDQUFDO0FBQUEsSUFDM0IsTUFBUSxXQUFTLElBQUk7QUFBQTtBQUFBLElBRXJCLE9BQVMsV0FBUyxJQUFJO0FBQUEsSUFDdEIsU0FBVyxXQUFTLFlBQVk7QUFBQSxFQUNsQyxDQUFDO0FBQUE7QUFBQSxFQUVDLGVBQWEsRUFBRSxNQUFRLFVBQVEsT0FBTyxHQUFHLElBQUksT0FBUyxNQUFJLEVBQUUsQ0FBQztBQUFBLEVBQzdELGVBQWE7QUFBQSxJQUNiLE1BQVEsVUFBUSxLQUFLO0FBQUE7QUFBQSxJQUVyQixNQUFRLFNBQU87QUFBQSxJQUNmLEtBQU8sU0FBTztBQUFBLElBQ2QsT0FBUyxXQUFXLFNBQU8sQ0FBQztBQUFBLElBQzVCLFNBQVcsV0FBUyxZQUFZO0FBQUEsRUFDbEMsQ0FBQztBQUFBLEVBQ0MsZUFBYTtBQUFBLElBQ2IsTUFBUSxVQUFRLE9BQU87QUFBQSxJQUN2QjtBQUFBLElBQ0EsTUFBUSxTQUFPO0FBQUEsSUFDZixTQUFXLFNBQU87QUFBQSxJQUNsQixLQUFPLFdBQVcsU0FBTyxDQUFDO0FBQUEsSUFDMUIsT0FBTztBQUFBO0FBQUEsSUFFUCxPQUFPO0FBQUEsRUFDVCxDQUFDO0FBQUEsRUFDQyxlQUFhLEVBQUUsTUFBUSxVQUFRLFFBQVEsR0FBRyxJQUFJLE9BQU8sWUFBWSxTQUFXLFdBQVMsWUFBWSxFQUFFLENBQUM7QUFBQTtBQUFBLEVBRXBHLGVBQWEsRUFBRSxNQUFRLFVBQVEsU0FBUyxHQUFHLE9BQVMsU0FBTyxHQUFHLEtBQU8sU0FBTyxFQUFFLENBQUM7QUFBQSxFQUMvRSxlQUFhLEVBQUUsTUFBUSxVQUFRLE9BQU8sR0FBRyxNQUFRLFNBQU8sR0FBRyxNQUFRLFNBQU8sRUFBRSxDQUFDO0FBQUEsRUFDN0UsZUFBYSxFQUFFLE1BQVEsVUFBUSxNQUFNLEdBQUcsTUFBUSxTQUFPLEdBQUcsSUFBTSxVQUFRLEVBQUUsQ0FBQztBQUMvRSxDQUFDOzs7QUQzQ0QsZUFBc0IsWUFBWSxRQUFnQixLQUFhQyxXQUFxQztBQUNsRyxRQUFNLE9BQU8sS0FBSyxRQUFRLE9BQU8sUUFBUSxHQUFHLENBQUM7QUFDN0MsUUFBTSxRQUFRLG9CQUFJLElBQW9DO0FBQ3RELFFBQU0sUUFBUSxvQkFBSSxJQUFtQjtBQUNyQyxRQUFNLE9BQU8sb0JBQUksSUFBa0M7QUFDbkQsUUFBTSxTQUEyQyxDQUFDO0FBQ2xELFFBQU0sU0FBMkMsQ0FBQztBQUNsRCxRQUFNLFVBQVUsb0JBQUksSUFBeUI7QUFDN0MsUUFBTSxRQUFRLG9CQUFJLElBQXFCO0FBQ3ZDLFFBQU0sUUFBUSxvQkFBSSxJQUFtQjtBQUNyQyxRQUFNLFNBQVMsb0JBQUksSUFBWTtBQUMvQixNQUFJO0FBQ0osTUFBSUMsV0FBVTtBQUNkLFFBQU0sT0FBTyxDQUFDQyxLQUFZLFVBQTJCO0FBQ25ELFVBQU0sUUFBUUEsSUFBRyxNQUFNLEtBQUssQ0FBQyxFQUFFLENBQUM7QUFDaEMsVUFBTSxTQUFTLE1BQU0sSUFBSSxLQUFLO0FBQzlCLFFBQUksT0FBUSxRQUFPLElBQUlBLEtBQUksS0FBSztBQUFBLFFBQzNCLE9BQU0sSUFBSSxPQUFPLG9CQUFJLElBQUksQ0FBQyxDQUFDQSxLQUFJLEtBQUssQ0FBQyxDQUFDLENBQUM7QUFBQSxFQUM5QztBQUNBLG1CQUFpQixRQUFRLFFBQVEsSUFBSSxHQUFHO0FBQ3RDLFlBQVEsS0FBSyxNQUFNO0FBQUEsTUFDakIsS0FBSztBQUNILGlCQUFTO0FBQ1QsUUFBQUQsV0FBVSxLQUFLO0FBQ2Y7QUFBQSxNQUNGLEtBQUs7QUFDSCxRQUFBQSxXQUFVLEtBQUs7QUFDZjtBQUFBLE1BQ0YsS0FBSztBQUNILGFBQUssS0FBSyxJQUFJLEVBQUUsT0FBTyxhQUFhLE1BQU0sQ0FBQyxHQUFHLE9BQU8sQ0FBQyxHQUFHLFNBQVMsUUFBVyxNQUFNLEtBQUssTUFBTSxLQUFLLEtBQUssSUFBSSxDQUFDO0FBQzdHO0FBQUEsTUFDRixLQUFLO0FBQ0gsYUFBSyxLQUFLLElBQUk7QUFBQSxVQUNaLE9BQU8sS0FBSyxVQUFVLFdBQVc7QUFBQSxVQUNqQyxNQUFNRCxVQUFTLEtBQUssS0FBSyxRQUFRLENBQUMsQ0FBQztBQUFBLFVBQ25DLE9BQU9BLFVBQVMsS0FBSyxLQUFLLFNBQVMsQ0FBQyxDQUFDO0FBQUEsVUFDckMsU0FBUyxLQUFLLFdBQVcsWUFBWSxLQUFLLE9BQU87QUFBQSxVQUNqRCxNQUFNO0FBQUEsVUFDTixLQUFLO0FBQUEsUUFDUCxDQUFDO0FBQ0Q7QUFBQSxNQUNGLEtBQUs7QUFDSCxjQUFNLElBQUksS0FBSyxJQUFJLEtBQUssS0FBYztBQUN0QztBQUFBLE1BQ0YsS0FBSyxPQUFPO0FBQ1YsY0FBTSxLQUFLLEtBQUssWUFBWTtBQUM1QixjQUFNLFNBQVMsS0FBSyxJQUFJLEtBQUssSUFBSTtBQUNqQyxZQUFJLE9BQVEsUUFBTyxJQUFJLEtBQUssS0FBSyxFQUFFO0FBQUEsWUFDOUIsTUFBSyxJQUFJLEtBQUssTUFBTSxvQkFBSSxJQUFJLENBQUMsQ0FBQyxLQUFLLEtBQUssRUFBRSxDQUFDLENBQUMsQ0FBQztBQUNsRCxZQUFJLEtBQUs7QUFDUCxpQkFBTyxLQUFLLEVBQUUsTUFBTSxLQUFLLE1BQU0sS0FBSyxLQUFLLEtBQUssT0FBTyxLQUFLLFNBQVMsSUFBSSxTQUFTLEtBQUssUUFBUSxDQUFDO0FBQ2hHLGNBQU0sT0FBTyxHQUFHLEtBQUssSUFBSSxJQUFJLEtBQUssR0FBRyxFQUFFO0FBQ3ZDO0FBQUEsTUFDRjtBQUFBLE1BQ0EsS0FBSyxTQUFTO0FBQ1osY0FBTSxFQUFFLElBQUFFLEtBQUksTUFBTSxNQUFNLFNBQVMsS0FBSyxPQUFPLE1BQU0sSUFBSTtBQUN2RCxjQUFNLElBQUlBLEtBQUksRUFBRSxJQUFBQSxLQUFJLE1BQU0sTUFBTSxTQUFTLEtBQUssT0FBT0YsVUFBUyxLQUFLLEtBQUssR0FBRyxPQUFPQSxVQUFTLEtBQUssS0FBSyxFQUFFLENBQUM7QUFDeEc7QUFBQSxNQUNGO0FBQUEsTUFDQSxLQUFLO0FBQ0gsWUFBSSxLQUFLLFVBQVUsVUFBVSxLQUFLLFVBQVUsYUFBYyxRQUFPLElBQUksS0FBSyxFQUFFO0FBQzVFO0FBQUEsTUFDRixLQUFLLFdBQVc7QUFDZCxjQUFNLE9BQU8sUUFBUSxJQUFJLEtBQUssS0FBSztBQUNuQyxZQUFJLEtBQU0sTUFBSyxJQUFJLEtBQUssR0FBRztBQUFBLFlBQ3RCLFNBQVEsSUFBSSxLQUFLLE9BQU8sb0JBQUksSUFBSSxDQUFDLEtBQUssR0FBRyxDQUFDLENBQUM7QUFDaEQ7QUFBQSxNQUNGO0FBQUEsTUFDQSxLQUFLO0FBQ0gsZUFBTyxLQUFLLEVBQUUsTUFBTSxLQUFLLE1BQU0sTUFBTSxLQUFLLEtBQUssQ0FBQztBQUNoRDtBQUFBLE1BQ0YsS0FBSztBQUNILGNBQU0sSUFBSSxLQUFLLE1BQU0sS0FBSyxFQUFFO0FBQUEsSUFDaEM7QUFBQSxFQUNGO0FBQ0EsTUFBSSxDQUFDLFFBQVE7QUFDWCxVQUFNLElBQUksUUFBUSxjQUFjO0FBQUEsTUFDOUIsTUFBTSxzQkFBc0IsR0FBRztBQUFBLE1BQy9CLE9BQU8sRUFBRSxNQUFNLEtBQUs7QUFBQSxNQUNwQixRQUFRO0FBQUEsSUFDVixDQUFDO0FBQUEsRUFDSDtBQUNBLFNBQU8sRUFBRSxNQUFNLFFBQVEsU0FBQUMsVUFBUyxPQUFPLE9BQU8sTUFBTSxRQUFRLFFBQVEsU0FBUyxPQUFPLE9BQU8sT0FBTztBQUNwRztBQUdBLFNBQVMsaUJBQWlCLFFBQW1FO0FBQzNGLE1BQUk7QUFDSixNQUFJO0FBQ0YsWUFBUSxZQUFZLE1BQU07QUFBQSxFQUM1QixRQUFRO0FBQ04sV0FBTyxDQUFDO0FBQUEsRUFDVjtBQUNBLFNBQU8sTUFDSixPQUFPLENBQUMsU0FBUyxLQUFLLFNBQVMsUUFBUSxDQUFDLEVBQ3hDLEtBQUssRUFDTCxRQUFRLEVBQ1IsSUFBSSxDQUFDLFVBQVUsRUFBRSxNQUFNLEtBQUssS0FBSyxRQUFRLGtCQUFrQixFQUFFLEVBQUUsRUFBRTtBQUN0RTtBQUVBLFNBQVMsT0FBTyxRQUFnQixLQUFxQjtBQUNuRCxRQUFNLE1BQU0saUJBQWlCLE1BQU07QUFDbkMsUUFBTSxRQUFRLFFBQVEsU0FBUyxJQUFJLENBQUMsSUFBSSxJQUFJLEtBQUssQ0FBQyxRQUFRLElBQUksUUFBUSxHQUFHO0FBQ3pFLE1BQUksTUFBTyxRQUFPLE1BQU07QUFDeEIsUUFBTSxJQUFJLFFBQVEsa0JBQWtCO0FBQUEsSUFDbEMsTUFBTSxRQUFRLFNBQVMsMkJBQTJCLG1CQUFtQixHQUFHO0FBQUEsSUFDeEUsUUFDRSxJQUFJLFdBQVcsSUFDWCx5Q0FDQTtBQUFBLE1BQ0U7QUFBQSxNQUNBLElBQUksTUFBTSxHQUFHLEVBQUUsRUFBRSxJQUFJLENBQUMsUUFBUSxJQUFJLEdBQUc7QUFBQSxJQUN2QztBQUFBLElBQ04sTUFBTSxFQUFFLElBQUk7QUFBQSxFQUNkLENBQUM7QUFDSDtBQUVBLGdCQUFnQixRQUFRLE1BQTJDO0FBQ2pFLG1CQUFpQixRQUFRLFVBQVUsSUFBSSxHQUFHO0FBQ3hDLFVBQU0sU0FBUyxZQUFZLFVBQVUsSUFBSTtBQUN6QyxRQUFJLE9BQU8sUUFBUyxPQUFNLE9BQU87QUFBQSxFQUNuQztBQUNGOzs7QURuSkEsZUFBc0IsV0FDcEIsT0FDQSxNQUNBLEtBQ0EsVUFDZ0U7QUFDaEUsUUFBTSxRQUFRLE1BQU0sUUFBUSxJQUFJO0FBQ2hDLFFBQU0sU0FBUyxNQUFNLFlBQVksY0FBYyxLQUFLLEdBQUcsS0FBSyxTQUFTLE9BQU8sUUFBUSxDQUFDO0FBQ3JGLFFBQU0sRUFBRSxPQUFPLGFBQWEsVUFBVSxRQUFRLElBQUksT0FBTztBQUN6RCxTQUFPO0FBQUEsSUFDTDtBQUFBLElBQ0EsT0FBTztBQUFBLE1BQ0w7QUFBQSxNQUNBO0FBQUEsTUFDQSxVQUFVLElBQUksSUFBSSxLQUFLLE1BQU0sTUFBTSxLQUFLLFFBQVEsQ0FBQyxDQUF1QjtBQUFBLE1BQ3hFO0FBQUEsSUFDRjtBQUFBLEVBQ0Y7QUFDRjtBQUdPLFNBQVMsV0FBVyxFQUFFLFNBQUFFLFVBQVMsT0FBTyxHQUFXLEVBQUUsTUFBTSxHQUFpQjtBQUMvRSxNQUFJLENBQUMsTUFBTUEsUUFBTyxFQUFHO0FBQ3JCLFFBQU0sSUFBSSxRQUFRLFNBQVM7QUFBQSxJQUN6QixNQUFNLE9BQU8sT0FBTyxHQUFHLG1DQUFtQ0EsUUFBTztBQUFBLElBQ2pFLFFBQVE7QUFBQSxFQUNWLENBQUM7QUFDSDtBQUVBLElBQU0sV0FBVyxDQUFDLFVBQ2hCLFdBQVcsUUFBUSxFQUNoQixPQUFPLE1BQU0sSUFBSSxDQUFDLEVBQUUsS0FBSyxNQUFNLElBQUksRUFBRSxLQUFLLElBQUksQ0FBQyxFQUMvQyxPQUFPLEtBQUs7QUFNakIsZUFBc0IsUUFDcEIsV0FDQSxNQUNBLE9BQ0EsT0FDQSxFQUFFLFNBQUFBLFNBQVEsR0FDVixRQUNrQjtBQUNsQixRQUFNLEVBQUUsWUFBWSxLQUFLLFNBQVMsSUFBSTtBQUN0QyxRQUFNLFFBQVEsTUFBTSxRQUFRLElBQUk7QUFDaEMsUUFBTSxTQUFtQixTQUFTLE9BQU8sUUFBUTtBQUNqRCxRQUFNQyxPQUFLLG9CQUFJLEtBQUssR0FBRSxZQUFZO0FBQ2xDLFFBQU0sU0FBUyxTQUFTLFNBQVMsS0FBSztBQUN0QyxNQUFJLFFBQVE7QUFDVixVQUFNLEVBQUUsSUFBSSxJQUFJLE9BQU87QUFDdkIsUUFBSSxXQUFXLFVBQWEsT0FBTyxPQUFPLFdBQVcsUUFBUTtBQUMzRCxZQUFNLElBQUksUUFBUSxTQUFTO0FBQUEsUUFDekIsTUFBTSxxQkFBcUIsR0FBRztBQUFBLFFBQzlCLFFBQVEsOEJBQThCLEdBQUcsbURBQW1ELEdBQUc7QUFBQSxNQUNqRyxDQUFDO0FBQUEsSUFDSDtBQUNBLFVBQU1DLFNBQVEsRUFBRSxNQUFNLFdBQVcsS0FBSyxJQUFJLEtBQUssSUFBQUQsS0FBSSxTQUFBRCxTQUFRO0FBQzNELFdBQU8sWUFBWSxFQUFFLE1BQU0sT0FBTyxNQUFNLEtBQUssVUFBVSxRQUFRLE9BQUFFLFFBQU8sT0FBTyxDQUFDO0FBQUEsRUFDaEY7QUFDQSxRQUFNLFFBQXFCO0FBQUEsSUFDekIsTUFBTTtBQUFBLElBQ04sS0FBSyxJQUFJO0FBQUEsSUFDVCxJQUFBRDtBQUFBLElBQ0EsU0FBQUQ7QUFBQSxJQUNBLGFBQWEsTUFBTTtBQUFBLElBQ25CLE9BQU8sQ0FBQyxHQUFHLE1BQU0sS0FBSztBQUFBLElBQ3RCLFVBQVUsTUFBTSxLQUFLLEtBQUssVUFBVSxDQUFDLEdBQUcsTUFBTSxRQUFRLENBQUMsQ0FBQztBQUFBLElBQ3hELFNBQVMsTUFBTTtBQUFBLElBQ2YsUUFBUSxVQUFVO0FBQUEsRUFDcEI7QUFDQSxRQUFNLE9BQU9HLE1BQUssY0FBYyxXQUFXLEtBQUssR0FBRyxHQUFHRixJQUFHLFFBQVEsVUFBVSxFQUFFLENBQUMsSUFBSSxJQUFJLEdBQUcsUUFBUTtBQUNqRyxTQUFPLFlBQVksRUFBRSxNQUFNLEtBQUssSUFBSSxLQUFLLFVBQVUsUUFBUSxPQUFPLFFBQVEsT0FBVSxDQUFDO0FBQ3ZGO0FBR08sU0FBUyxZQUFZLE9BQTZCLEVBQUUsUUFBUSxNQUFNLEdBQW1CO0FBRTFGLFFBQU0sT0FBTyxDQUFDLE1BQWMsU0FBMEIsT0FBTyxNQUFNLFdBQVc7QUFDOUUsU0FBTyxNQUFNLElBQUksQ0FBQyxFQUFFLEtBQUssR0FBRyxTQUFlO0FBQ3pDLFVBQU0sTUFBTSxDQUFDLEdBQUcsSUFBSSxJQUFJLE9BQU8sT0FBTyxDQUFDLEVBQUUsS0FBSyxNQUFNLEtBQUssTUFBTSxJQUFJLENBQUMsRUFBRSxJQUFJLENBQUMsRUFBRSxJQUFJLE1BQU0sR0FBRyxDQUFDLENBQUM7QUFDNUYsUUFBSSxLQUFNLFFBQU8sSUFBSSxXQUFXLElBQUksU0FBUztBQUM3QyxXQUFPLENBQUMsR0FBRyxLQUFLLEVBQUUsS0FBSyxDQUFDLENBQUMsTUFBTSxFQUFFLE1BQU0sQ0FBQyxNQUFNLEtBQUssTUFBTSxJQUFJLENBQUMsSUFBSSxRQUFRO0FBQUEsRUFDNUUsQ0FBQztBQUNIOzs7QUc1R0EsZUFBc0IsY0FBYyxXQUFzQixRQUFtRDtBQUMzRyxhQUFXLFFBQVEsQ0FBQyxHQUFHLFVBQVUsU0FBUyxNQUFNLEdBQUc7QUFDakQsUUFBSTtBQUNGLFlBQU0sVUFBVSxTQUFTLE1BQU0sSUFBSTtBQUNuQyxhQUFPLEVBQUUsT0FBTyxrQkFBa0IsTUFBTSxTQUFTLE9BQVUsQ0FBQztBQUFBLElBQzlELFNBQVMsT0FBTztBQUNkLGFBQU8sRUFBRSxPQUFPLGtCQUFrQixNQUFNLFNBQVMsVUFBVSxLQUFLLEVBQUUsQ0FBQztBQUFBLElBQ3JFO0FBQUEsRUFDRjtBQUNGOzs7QUNSQSxlQUFlLFFBQVEsTUFBWSxRQUFnRDtBQUNqRixhQUFXLFNBQVMsS0FBSyxLQUFLLFFBQVEsRUFBRyxPQUFNLFFBQVEsT0FBTyxNQUFNLE1BQU07QUFDNUU7QUFFQSxlQUFlLFFBQVEsT0FBa0IsTUFBWSxRQUFnRDtBQUNuRyxRQUFNLEVBQUUsTUFBTSxPQUFPLElBQUFHLEtBQUksSUFBSSxJQUFJO0FBQ2pDLFFBQU0sRUFBRSxPQUFPLE1BQU0sUUFBUSxJQUFJLE1BQU0sVUFBVSxLQUFLLE1BQU07QUFDNUQsT0FBSyxPQUFPLEVBQUUsT0FBTyxRQUFRLE9BQU8sTUFBTSxPQUFPLEtBQUssS0FBSyxLQUFLLE1BQU0sUUFBUSxDQUFDO0FBQy9FLE9BQUssU0FBUyxPQUFPQSxLQUFJLE9BQU8sT0FBTztBQUN6QztBQVFBLGVBQXNCLFVBQVUsS0FBdUIsUUFBa0Q7QUFDdkcsTUFBSTtBQUNGLFVBQU0sRUFBRSxNQUFNLFNBQVMsSUFBSSxNQUFNLElBQUksTUFBTTtBQUMzQyxVQUFNLENBQUMsT0FBTyxJQUFJO0FBRWxCLFVBQU0sT0FBTyxNQUFNLFFBQVEsVUFBVSxXQUFXLE9BQU8sTUFBTSxRQUFRLFVBQVUsV0FBVztBQUMxRixXQUFPLEVBQUUsT0FBTyxVQUFXLE9BQU8sZUFBZSxXQUFZLFFBQVEsTUFBTSxTQUFTLE9BQU8sU0FBWSxRQUFRO0FBQUEsRUFDakgsU0FBUyxPQUFPO0FBQ2QsVUFBTSxVQUFVLFVBQVUsS0FBSztBQUMvQixVQUFNLFVBQVUsUUFBUSxTQUFTLG1CQUFtQixRQUFRLFNBQVM7QUFDckUsV0FBTyxFQUFFLE9BQU8sVUFBVSxlQUFlLFVBQVUsTUFBTSxRQUFXLFFBQVE7QUFBQSxFQUM5RTtBQUNGO0FBUUEsZUFBc0IsYUFBYSxNQUFpQixNQUFZLFlBQXNEO0FBQ3BILFFBQU0sVUFBVSxNQUFNLFVBQVUsS0FBSyxPQUFPLElBQUk7QUFDaEQsUUFBTSxNQUFNLEtBQUssU0FBUyxZQUFhLEtBQUssU0FBUyxhQUFhLFlBQVk7QUFFOUUsUUFBTSxZQUFZLE9BQU8sS0FBSyxLQUFLLFNBQVMsS0FBSyxDQUFDLEtBQUssVUFBVTtBQUNqRSxNQUFJLFVBQVcsT0FBTSxRQUFRLE1BQU0sVUFBVTtBQUM3QyxTQUFPLEVBQUUsU0FBUyxVQUFVO0FBQzlCOzs7QUNoQ08sSUFBTSxTQUFTLENBQUMsRUFBRSxPQUFPLE9BQU8sTUFDckMsQ0FBQyxHQUFHLE1BQU0sT0FBTyxDQUFDLEVBQUUsT0FBTyxDQUFDLEVBQUUsSUFBQUMsSUFBRyxNQUFNLENBQUMsT0FBTyxJQUFJQSxHQUFFLENBQUMsRUFBRSxRQUFRO0FBRWxFLGVBQXNCLFFBQ3BCLFdBQ0EsUUFDQSxTQUNBLFFBQ0EsUUFDc0I7QUFDdEIsTUFBSSxDQUFDLFFBQVEsU0FBUyxJQUFJLENBQUMsR0FBRyxDQUFDO0FBQy9CLFlBQVUsa0JBQWtCLENBQUMsU0FBUyxPQUFPLEVBQUUsT0FBTyxrQkFBa0IsTUFBTSxTQUFTLE9BQVUsQ0FBQztBQUNsRyxhQUFXLFNBQVMsT0FBTyxNQUFNLEdBQUc7QUFDbEMsUUFBSSxPQUFPLFFBQVM7QUFDcEIsVUFBTSxRQUFRLE1BQU1DLFNBQVEsV0FBVyxPQUFPLE1BQU07QUFDcEQsWUFBUSxPQUFPLE1BQU0sSUFBSSxNQUFNLE9BQU8sTUFBTSxPQUFPO0FBQ25ELFdBQU8sS0FBSztBQUNaLFFBQUksTUFBTSxVQUFVLFVBQVUsTUFBTSxVQUFVLGFBQWMsV0FBVTtBQUFBLFFBQ2pFLGNBQWE7QUFBQSxFQUNwQjtBQUNBLFFBQU0sY0FBYyxXQUFXLE1BQU07QUFDckMsWUFBVSxrQkFBa0I7QUFDNUIsU0FBTyxFQUFFLEtBQUssT0FBTyxPQUFPLEtBQUssUUFBUSxVQUFVO0FBQ3JEO0FBRUEsZUFBZUEsU0FBUSxXQUFzQixPQUFjLFFBQXlDO0FBQ2xHLFFBQU0sRUFBRSxNQUFNLFNBQVMsS0FBSyxPQUFPLE1BQU0sSUFBSTtBQUM3QyxRQUFNLFNBQVMsSUFBSSxJQUFJLE1BQU0sSUFBSSxDQUFDLFFBQVEsQ0FBQyxJQUFJLE1BQU0sR0FBRyxDQUFDLENBQUM7QUFDMUQsUUFBTSxFQUFFLE9BQU8sTUFBTSxRQUFRLElBQUksTUFBTSxVQUFVLE9BQU8sV0FBVztBQUNqRSxVQUFNLFdBQVcsTUFBTSxVQUFVLFFBQVEsT0FBTztBQUNoRCxVQUFNLE9BQU8sTUFBTSxZQUFZLFdBQVcsVUFBVTtBQUFBLE1BQ2xELE9BQU8sQ0FBQyxVQUE2QixPQUFPLElBQUksS0FBSztBQUFBLE1BQ3JELFFBQVEsY0FBYyxLQUFLO0FBQUEsTUFDM0IsUUFBUTtBQUFBLE1BQ1IsTUFBTSxXQUFXLElBQUk7QUFBQSxNQUNyQjtBQUFBLElBQ0YsQ0FBQztBQUNELFdBQU8sRUFBRSxNQUFNLE1BQU0sTUFBTSxDQUFDLEdBQUcsVUFBVSxLQUFLLFNBQVM7QUFBQSxFQUN6RCxHQUFHLE1BQU07QUFDVCxTQUFPLEVBQUUsT0FBTyxRQUFRLE9BQU8sU0FBUyxNQUFNLE9BQU8sS0FBSyxNQUFNLFFBQVE7QUFDMUU7QUFFQSxJQUFNLGdCQUFnQixDQUFDQyxVQUFxQztBQUMxRCxRQUFNLFFBQVEsSUFBSSxJQUFJQSxNQUFLLElBQUksQ0FBQyxRQUFRLENBQUMsSUFBSSxNQUFNLEdBQUcsQ0FBQyxDQUFDO0FBQ3hELFNBQU8sRUFBRSxRQUFRLENBQUMsU0FBUyxNQUFNLElBQUksSUFBSSxHQUFHLE9BQU8sTUFBTSxNQUFNLEtBQUssR0FBRyxRQUFRLENBQUMsbUJBQW1CLEVBQUU7QUFDdkc7OztBQzNDTyxTQUFTLFdBQVcsT0FBa0IsVUFBb0IsTUFBWSxRQUFRLEdBQWE7QUFDaEcsVUFBUSxNQUFNLE9BQU87QUFBQSxJQUNuQixLQUFLO0FBQ0gsYUFBTyxVQUFVLE9BQU8sVUFBVSxNQUFNLEtBQUs7QUFBQSxJQUMvQyxLQUFLO0FBQ0gsYUFBTyxVQUFVLE9BQU8sVUFBVSxJQUFJO0FBQUEsSUFDeEMsS0FBSztBQUNILGFBQU8sU0FBUyxPQUFPLFVBQVUsSUFBSTtBQUFBLElBQ3ZDLEtBQUs7QUFDSCxhQUFPLENBQUMsR0FBRyxTQUFTLElBQUksSUFBSSxTQUFTLENBQUMsWUFBWSxNQUFNLElBQUksRUFBRTtBQUFBLElBQ2hFLEtBQUs7QUFDSCxhQUFPLE1BQU0sVUFDVDtBQUFBLFFBQ0UsR0FBRyxTQUFTLElBQUksSUFBSSxTQUFTLENBQUMsd0JBQXdCLE1BQU0sSUFBSSxLQUFLLGNBQWMsS0FBSyxNQUFNLFFBQVEsSUFBSSxDQUFDLENBQUM7QUFBQSxNQUM5RyxJQUNBLENBQUMsR0FBRyxTQUFTLElBQUksSUFBSSxTQUFTLENBQUMsWUFBWSxNQUFNLElBQUksRUFBRTtBQUFBLElBQzdELEtBQUs7QUFDSCxhQUFPLENBQUMsU0FBUyxPQUFPLFFBQVEsQ0FBQztBQUFBLElBQ25DLEtBQUs7QUFDSCxhQUFPLFdBQVcsT0FBTyxVQUFVLElBQUk7QUFBQSxFQUMzQztBQUNGO0FBR0EsU0FBUyxTQUFTLEVBQUUsS0FBSyxPQUFPLFFBQVEsR0FBYSxFQUFFLElBQUksR0FBYSxNQUFzQjtBQUM1RixRQUFNLE9BQU8sR0FBRyxJQUFJLElBQUksU0FBUyxDQUFDLFFBQVEsR0FBRyxJQUFJLElBQUksSUFBSSxJQUFJLGNBQWMsS0FBSyxLQUFLLENBQUMsQ0FBQyxHQUFHLENBQUM7QUFDM0YsU0FBTyxVQUFVLENBQUMsTUFBTSxXQUFXLGNBQWMsS0FBSyxRQUFRLElBQUksQ0FBQyxDQUFDLEVBQUUsSUFBSSxDQUFDLElBQUk7QUFDakY7QUFHQSxTQUFTLFdBQVcsRUFBRSxLQUFLLFdBQVcsSUFBSSxPQUFPLEdBQWMsRUFBRSxJQUFJLEdBQWEsTUFBb0I7QUFDcEcsUUFBTSxRQUFRLGFBQWEsS0FBSyxLQUFLLElBQUksSUFBSSxLQUFLLGNBQWMsS0FBSyxRQUFRLENBQUMsQ0FBQyxHQUFHO0FBQ2xGLFNBQU8sR0FBRyxRQUFRLFNBQVksS0FBSyxPQUFPLEdBQUcsR0FBRyxLQUFLLElBQUksR0FBRyxXQUFXLFNBQVksS0FBSyxHQUFHLE1BQU0sSUFBSTtBQUN2RztBQUVBLFNBQVMsVUFBVSxPQUFrQixVQUFvQixNQUFZLE9BQXlCO0FBQzVGLFFBQU0sRUFBRSxJQUFJLElBQUk7QUFDaEIsUUFBTSxFQUFFLE9BQU8sT0FBTyxPQUFPLE1BQU0sTUFBQUMsT0FBTSxVQUFVLE1BQU0sS0FBSyxJQUFJO0FBQ2xFLFFBQU0sU0FBUyxLQUFLLE9BQU8sS0FBSztBQUNoQyxRQUFNLE9BQU8sRUFBRSxJQUFJLElBQUksTUFBTSxTQUFTLEdBQUcsUUFBUSxJQUFJLElBQUksU0FBUyxHQUFHLFNBQVMsSUFBSSxJQUFJLFNBQVMsRUFBRSxFQUFFLEtBQUs7QUFDeEcsUUFBTSxXQUFXLE1BQU0sUUFBUTtBQUMvQixRQUFNLFNBQVMsU0FBUyxVQUFhLGFBQWEsVUFBYSxLQUFLLFFBQVEsWUFBWTtBQUN4RixRQUFNLFFBQVE7QUFBQSxJQUNaLFFBQ0UsR0FBRyxJQUFJLEtBQUssS0FBSyxLQUFLLE1BQU0sQ0FBQyxJQUFJLFdBQVcsV0FBVyxTQUFTLFFBQVEsU0FBUyxNQUFNLFFBQVEsS0FBSyxVQUFVLElBQUksSUFBSSxTQUFTLGNBQWMsS0FBSyxLQUFLLEtBQUssUUFBUSxDQUFDLElBQUksSUFBSSxJQUFJLFdBQVcsQ0FBQztBQUFBLElBQy9MLFlBQVksSUFBSSxJQUFJLGFBQWEsU0FBUyxNQUFNLE9BQU8sS0FBSyxDQUFDO0FBQUEsSUFDN0QsUUFBUSxLQUFLLFFBQVEsS0FBSyxJQUFJLE9BQU8sR0FBRyxLQUFLLEtBQUssUUFBUTtBQUFBLElBQzFELFFBQ0UsS0FBSyxTQUFTLFNBQVMsS0FDdkIsSUFBSSxJQUFJLEdBQUcsS0FBSyxTQUFTLE9BQU8sQ0FBQyxFQUFFLEdBQUcsTUFBTSxFQUFFLEVBQUUsTUFBTSxPQUFPLEtBQUssU0FBUyxNQUFNLGNBQWM7QUFBQSxJQUNqRyxHQUFHLFVBQVUsTUFBTSxJQUFJLEVBQUUsSUFBSSxJQUFJLEdBQUc7QUFBQSxJQUNwQ0EsTUFBSyxTQUFTLEtBQUssU0FBUyxVQUFVLFNBQVMsWUFBWSxJQUFJLElBQUksUUFBUUEsTUFBSyxLQUFLLElBQUksQ0FBQyxFQUFFO0FBQUEsRUFDOUYsRUFBRSxPQUFPLE9BQU87QUFDaEIsUUFBTSxNQUFNLElBQUksT0FBTyxLQUFLLElBQUksR0FBRyxRQUFRLE9BQU8sU0FBUyxNQUFNLE1BQU0sQ0FBQztBQUN4RSxRQUFNLE9BQU8sTUFBTSxTQUFTLElBQUksR0FBRyxHQUFHLE1BQU0sTUFBTSxLQUFLLEtBQUssQ0FBQyxLQUFLO0FBQ2xFLFFBQU0sUUFBUSxDQUFDLEdBQUcsSUFBSSxJQUFJLE1BQU0sR0FBRyxXQUFXLE9BQU8sVUFBVSxJQUFJLENBQUMsR0FBRyxJQUFJLEtBQUssS0FBSyxDQUFDLEdBQUcsSUFBSSxFQUFFO0FBQy9GLGFBQVcsV0FBVyxVQUFVO0FBQzlCLFVBQU0sS0FBSyxXQUFXLE1BQU0sR0FBRyxjQUFjLEtBQUssUUFBUSxJQUFJLENBQUMsQ0FBQyxFQUFFO0FBQ2xFLFFBQUksUUFBUSxXQUFXLE9BQVcsT0FBTSxLQUFLLFdBQVcsTUFBTSxHQUFHLElBQUksSUFBSSxjQUFjLEtBQUssUUFBUSxNQUFNLENBQUMsQ0FBQyxDQUFDLEVBQUU7QUFDL0csUUFBSSxRQUFRLFdBQVc7QUFDckIsWUFBTSxLQUFLLFdBQVcsTUFBTSxHQUFHLElBQUksSUFBSSxLQUFLLENBQUMsSUFBSSxjQUFjLEtBQUssUUFBUSxNQUFNLENBQUMsQ0FBQyxFQUFFO0FBQUEsRUFDMUY7QUFDQSxhQUFXLEVBQUUsSUFBQUMsS0FBSSxNQUFNLE1BQU0sTUFBTSxNQUFNLGVBQWUsQ0FBQyxHQUFHLE1BQU0sR0FBRyxFQUFFO0FBQ3JFLFVBQU07QUFBQSxNQUNKLFdBQVcsTUFBTSxHQUFHLElBQUksS0FBSyxjQUFjQSxHQUFFLENBQUMsQ0FBQyxNQUFNLGNBQWMsS0FBSyxVQUFVLElBQUksQ0FBQyxDQUFDLENBQUMsTUFBTSxJQUFJLElBQUksS0FBSyxDQUFDLElBQUksY0FBYyxLQUFLLFVBQVUsS0FBSyxDQUFDLENBQUMsQ0FBQztBQUFBLElBQ3hKO0FBQ0YsUUFBTSxXQUFXLE1BQU0sYUFBYSxVQUFVLEtBQUs7QUFDbkQsTUFBSSxVQUFVLEVBQUcsT0FBTSxLQUFLLFdBQVcsTUFBTSxHQUFHLElBQUksSUFBSSxPQUFPLE9BQU8sbUJBQW1CLENBQUMsRUFBRTtBQUM1RixNQUFJLFNBQVMsU0FBUyxLQUFLLEtBQU0sT0FBTSxLQUFLLFdBQVcsTUFBTSxHQUFHLElBQUksSUFBSSxRQUFRLEtBQUssSUFBSSxFQUFFLENBQUMsRUFBRTtBQUM5RixTQUFPO0FBQ1Q7QUFHQSxTQUFTLFVBQVUsTUFBd0IsTUFBc0I7QUFDL0QsTUFBSSxDQUFDLEtBQU0sUUFBTyxDQUFDO0FBQ25CLFFBQU0sRUFBRSxPQUFPLE1BQU0sUUFBUSxTQUFTLFFBQVEsSUFBSTtBQUNsRCxTQUFPO0FBQUEsSUFDTCxTQUFTLFVBQVUsS0FBSztBQUFBLElBQ3hCLFFBQ0UsU0FBUyxLQUFLLEtBQUssSUFBSSxLQUFLLFVBQVUsSUFBSSxTQUFTLE9BQU8sS0FBSyxjQUFjLEtBQUssS0FBSyxPQUFPLEtBQUssVUFBSyxDQUFDLENBQUMsQ0FBQztBQUFBLElBQzdHLFdBQVcsVUFBYSxTQUFTLGNBQWMsS0FBSyxNQUFNLENBQUMsQ0FBQztBQUFBLElBQzVELFdBQ0UsR0FBRyxRQUFRLEVBQUUsT0FBTyxRQUFRLEtBQUssUUFBUSxNQUFNLEdBQUcsUUFBUSxTQUFTLElBQUksS0FBSyxRQUFRLE1BQU0sb0JBQW9CLEVBQUU7QUFBQSxJQUNsSCxZQUFZLFVBQWEseUJBQXlCLGNBQWMsS0FBSyxPQUFPLENBQUMsQ0FBQztBQUFBLEVBQ2hGLEVBQUUsT0FBTyxDQUFDLFNBQVMsT0FBTyxTQUFTLFFBQVE7QUFDN0M7QUFHQSxTQUFTLFVBQVUsRUFBRSxPQUFPLE9BQU8sT0FBTyxRQUFRLEdBQXVDO0FBQ3ZGLFFBQU0sVUFBVSxHQUFHLEtBQUssSUFBSSxVQUFVLElBQUksU0FBUyxPQUFPO0FBQzFELE1BQUksWUFBWSxPQUFXLFFBQU8sR0FBRyxPQUFPLEdBQUcsS0FBSyxJQUFJLFVBQVUsSUFBSSxTQUFTLE9BQU87QUFDdEYsU0FBTyxZQUFZLE9BQU8sR0FBRyxLQUFLLEdBQUcsVUFBVSxTQUFZLFdBQVcsT0FBTyxLQUFLLFFBQVEsS0FBSyxPQUFPO0FBQ3hHO0FBRUEsU0FBUyxTQUFTLEVBQUUsTUFBTSxNQUFNLEtBQUssS0FBSyxHQUFjLEVBQUUsSUFBSSxHQUFxQjtBQUNqRixTQUFPLEdBQUcsSUFBSSxPQUFPLFNBQVMsQ0FBQyxJQUFJLElBQUksS0FBSyxhQUFhLElBQUksQ0FBQyxJQUFJLElBQUksSUFBSSxJQUFJLEdBQUcsS0FBSyxPQUFPLHVCQUF1QixrQ0FBa0MsR0FBRyxDQUFDO0FBQzVKO0FBRUEsU0FBUyxXQUFXLEVBQUUsT0FBTyxTQUFTLE9BQU8sT0FBQUMsUUFBTyxJQUFJLEtBQUssR0FBZSxVQUFvQixNQUFzQjtBQUNwSCxRQUFNLEVBQUUsSUFBSSxJQUFJO0FBQ2hCLFFBQU0sT0FBTyxPQUFPLFNBQVksQ0FBQyxJQUFJLENBQUMsR0FBRyxJQUFJLE1BQU0sU0FBUyxDQUFDLElBQUksRUFBRSxJQUFJLElBQUksSUFBSSxJQUFJQSxNQUFLLFlBQVksS0FBSyxHQUFHLENBQUMsRUFBRTtBQUMvRyxNQUFJLENBQUMsS0FBTSxRQUFPO0FBQ2xCLFFBQU1DLFNBQVEsTUFBTSxNQUFNLEdBQUcsRUFBRTtBQUMvQixRQUFNLFFBQVFBLE9BQU0sS0FBSyxDQUFDLFNBQVMsS0FBSyxVQUFVLE1BQVMsSUFBSSxDQUFDLEdBQUcsU0FBUyxPQUFPLElBQUk7QUFDdkYsUUFBTSxRQUFRQSxPQUFNLElBQUksQ0FBQyxTQUFTLE1BQU0sSUFBSSxDQUFDLFNBQVMsY0FBYyxLQUFLLFNBQVMsS0FBSyxJQUFJLENBQUMsQ0FBQyxDQUFDLENBQUMsQ0FBQztBQUNoRyxRQUFNQyxRQUFPRixTQUFRQyxPQUFNO0FBQzNCLFNBQU87QUFBQSxJQUNMO0FBQUEsSUFDQSxNQUFNLE9BQU8sVUFBVSxFQUFFLE1BQU0sT0FBTyxRQUFRLEdBQUcsVUFBVSxNQUFNLElBQUksQ0FBQyxHQUFHLFVBQVUsS0FBSyxFQUFFLENBQUM7QUFBQSxJQUMzRixHQUFJQyxRQUFPLElBQUksQ0FBQyxXQUFXLElBQUksSUFBSSxPQUFPQSxLQUFJLFlBQVksQ0FBQyxFQUFFLElBQUksQ0FBQztBQUFBLElBQ2xFO0FBQUEsSUFDQSxHQUFHO0FBQUEsRUFDTDtBQUNGO0FBRUEsU0FBUyxVQUFVLEVBQUUsT0FBTyxNQUFNLE9BQU8sS0FBSyxNQUFNLFFBQVEsR0FBYyxFQUFFLElBQUksR0FBYSxNQUFzQjtBQUNqSCxRQUFNLFdBQVcsTUFBTSxRQUFRO0FBQy9CLFFBQU0sU0FBUyxXQUNYLE1BQU0sSUFBSSxLQUFLLE1BQU0sS0FBSyxVQUFVLEVBQUUsQ0FBQyxJQUFJLFdBQVcsU0FBUyxRQUFRLFNBQVMsTUFBTSxRQUFRLEdBQUcsQ0FBQyxLQUNsRztBQUNKLFFBQU0sT0FDSixVQUFVLFNBQVMsSUFBSSxNQUFNLFNBQVMsSUFBSSxVQUFVLGVBQWUsSUFBSSxJQUFJLFNBQVMsSUFBSSxJQUFJLElBQUksU0FBUztBQUMzRyxRQUFNLE9BQU87QUFBQSxJQUNYLE1BQU07QUFBQSxJQUNOLGNBQWM7QUFBQSxJQUNkLFFBQVE7QUFBQSxJQUNSLFlBQVk7QUFBQSxFQUNkLEVBQUUsS0FBSztBQUNQLFFBQU0sUUFBUSxDQUFDLEdBQUcsSUFBSSxJQUFJLFFBQVEsU0FBWSxLQUFLLE9BQU8sR0FBRyxJQUFJLEdBQUcsSUFBSSxLQUFLLElBQUksQ0FBQyxPQUFPLEtBQUssR0FBRyxNQUFNLEdBQUcsSUFBSSxFQUFFO0FBQ2hILE1BQUksUUFBUyxPQUFNLEtBQUssV0FBVyxjQUFjLEtBQUssUUFBUSxJQUFJLENBQUMsQ0FBQyxFQUFFO0FBQ3RFLFNBQU87QUFDVDs7O0FDNUlBLElBQU0sU0FBUyxDQUFDLFlBQXVELFVBQVUsTUFBTSxPQUFPLElBQUk7QUFFbEcsSUFBTSxVQUFVLENBQUMsT0FBdUIsS0FBSyxNQUFNLEtBQUssR0FBSSxJQUFJO0FBSXpELFNBQVMsY0FBYyxPQUFrQixNQUEyQjtBQUN6RSxVQUFRLE1BQU0sT0FBTztBQUFBLElBQ25CLEtBQUs7QUFDSCxhQUFPLGFBQWEsT0FBTyxJQUFJO0FBQUEsSUFDakMsS0FBSztBQUNILGFBQU87QUFBQSxRQUNMLE9BQU87QUFBQSxRQUNQLFNBQVMsTUFBTTtBQUFBLFFBQ2YsTUFBTSxNQUFNO0FBQUEsUUFDWixPQUFPLE1BQU07QUFBQSxRQUNiLEtBQUssTUFBTSxPQUFPO0FBQUEsUUFDbEIsU0FBUyxPQUFPLE1BQU0sT0FBTztBQUFBLE1BQy9CO0FBQUEsSUFDRixLQUFLO0FBQ0gsYUFBTyxFQUFFLE9BQU8sT0FBTyxLQUFLLE1BQU0sS0FBSyxPQUFPLE1BQU0sT0FBTyxJQUFJLE1BQU0sSUFBSSxTQUFTLE9BQU8sTUFBTSxPQUFPLEVBQUU7QUFBQSxJQUMxRyxLQUFLO0FBQUEsSUFDTCxLQUFLO0FBQ0gsYUFBTyxFQUFFLE9BQU8sTUFBTSxPQUFPLFNBQVMsTUFBTSxNQUFNLFNBQVMsT0FBTyxNQUFNLE9BQU8sRUFBRTtBQUFBLElBQ25GLEtBQUs7QUFDSCxhQUFPO0FBQUEsUUFDTCxPQUFPO0FBQUEsUUFDUCxNQUFNLE1BQU07QUFBQSxRQUNaLE1BQU0sS0FBSyxNQUFNLE1BQU0sSUFBSTtBQUFBLFFBQzNCLEtBQUssTUFBTTtBQUFBLFFBQ1gsTUFBTSxNQUFNO0FBQUEsTUFDZDtBQUFBLElBQ0YsS0FBSztBQUNILGFBQU8sY0FBYyxLQUFLO0FBQUEsRUFDOUI7QUFDRjtBQUVBLFNBQVMsYUFBYSxPQUFrQixNQUFtQztBQUN6RSxRQUFNLEVBQUUsT0FBTyxNQUFNLE9BQU8sT0FBTyxLQUFLLFFBQVEsTUFBTSxNQUFBQyxPQUFNLFVBQVUsS0FBSyxJQUFJO0FBQy9FLFFBQU0sV0FBVyxNQUFNLFFBQVE7QUFDL0IsUUFBTSxXQUFXLE1BQU0sWUFBWSxDQUFDO0FBQ3BDLFNBQU87QUFBQSxJQUNMLE9BQU87QUFBQSxJQUNQLE1BQU07QUFBQSxJQUNOO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBLEtBQUssT0FBTztBQUFBLElBQ1osUUFBUSxVQUFVO0FBQUEsSUFDbEIsR0FBSSxRQUFRLEVBQUUsUUFBUSxLQUFLLEtBQUssUUFBUSxLQUFLLEtBQUssS0FBSyxLQUFLLFFBQVEsR0FBRyxPQUFPLEtBQUssTUFBTTtBQUFBLElBQ3pGLFFBQVEsVUFBVSxVQUFVO0FBQUEsSUFDNUIsTUFBTSxXQUFXLFFBQVEsU0FBUyxJQUFJLElBQUk7QUFBQSxJQUMxQyxjQUFjO0FBQUEsTUFDWixLQUFLLFNBQVMsT0FBTyxDQUFDLEVBQUUsR0FBRyxNQUFNLEVBQUUsRUFBRTtBQUFBLE1BQ3JDLFFBQVEsU0FBUyxPQUFPLENBQUMsRUFBRSxHQUFHLE1BQU0sQ0FBQyxFQUFFLEVBQUUsSUFBSSxlQUFlO0FBQUEsSUFDOUQ7QUFBQSxJQUNBLE1BQU0sQ0FBQyxHQUFHQSxLQUFJO0FBQUEsSUFDZCxVQUFVLFNBQVMsSUFBSSxDQUFDLFlBQVksTUFBTSxPQUFPLENBQUM7QUFBQSxJQUNsRCxHQUFJLFFBQVEsYUFBYSxJQUFJO0FBQUEsSUFDN0IsTUFBTSxNQUFNLFFBQVE7QUFBQSxFQUN0QjtBQUNGO0FBRUEsU0FBUyxhQUFhLEVBQUUsT0FBTyxNQUFNLFFBQVEsYUFBYSxTQUFTLFFBQVEsR0FBaUI7QUFDMUYsU0FBTztBQUFBLElBQ0wsR0FBSSxTQUFTLEVBQUUsT0FBTyxFQUFFLEdBQUcsT0FBTyxPQUFPLE1BQU0sU0FBUyxNQUFNLFNBQVMsTUFBTSxXQUFXLEtBQUssRUFBRTtBQUFBLElBQy9GLEdBQUksUUFBUSxFQUFFLE1BQU0sRUFBRSxPQUFPLEtBQUssT0FBTyxRQUFRLENBQUMsR0FBRyxLQUFLLE1BQU0sRUFBRSxFQUFFO0FBQUEsSUFDcEUsR0FBSSxXQUFXLFVBQWEsRUFBRSxPQUFPO0FBQUEsSUFDckMsR0FBSSxlQUFlLEVBQUUsYUFBYSxZQUFZLElBQUksa0JBQWtCLEVBQUU7QUFBQSxJQUN0RSxHQUFJLFdBQVcsRUFBRSxRQUFRO0FBQUEsSUFDekIsR0FBSSxZQUFZLFVBQWEsRUFBRSxRQUFRO0FBQUEsRUFDekM7QUFDRjtBQUVBLElBQU0sZ0JBQWdCLENBQUMsRUFBRSxPQUFPLFNBQVMsT0FBTyxPQUFBQyxRQUFPLEdBQUcsT0FBMkM7QUFBQSxFQUNuRyxPQUFPO0FBQUEsRUFDUCxNQUFNO0FBQUEsRUFDTixTQUFTLENBQUMsR0FBRyxPQUFPO0FBQUEsRUFDcEIsTUFBTSxNQUFNO0FBQUEsSUFBSSxDQUFDLFNBQ2YsT0FBTyxZQUFZLE9BQU8sUUFBUSxJQUFJLEVBQUUsSUFBSSxDQUFDLENBQUMsTUFBTSxLQUFLLE1BQU0sQ0FBQyxNQUFNLE1BQU0sS0FBYyxDQUFDLENBQUMsQ0FBQztBQUFBLEVBQy9GO0FBQUEsRUFDQSxPQUFBQTtBQUFBLEVBQ0EsSUFBSSxNQUFNO0FBQ1o7QUFFTyxTQUFTLGdCQUFnQixTQUFrQixRQUEwQztBQUMxRixRQUFNLEVBQUUsTUFBTSxTQUFTLFdBQVcsU0FBUyxPQUFPLEdBQUcsR0FBRyxNQUFNLElBQUk7QUFDbEUsU0FBTztBQUFBLElBQ0wsT0FBTztBQUFBLElBQ1A7QUFBQSxJQUNBLEdBQUc7QUFBQSxJQUNILFFBQVEsS0FBSyxNQUFNLFFBQVEsTUFBTTtBQUFBLElBQ2pDLE1BQU0sS0FBSyxNQUFNLFFBQVEsSUFBSTtBQUFBLElBQzdCLE1BQU0sUUFBUTtBQUFBLElBQ2QsV0FBVyxDQUFDLEdBQUcsU0FBUztBQUFBLElBQ3hCLFNBQVMsQ0FBQyxHQUFHLE9BQU87QUFBQSxJQUNwQixTQUFTLE9BQU8sT0FBTztBQUFBLEVBQ3pCO0FBQ0Y7QUFFTyxTQUFTLGVBQWUsRUFBRSxRQUFRLFVBQVUsV0FBVyxHQUFvQztBQUNoRyxTQUFPO0FBQUEsSUFDTCxPQUFPO0FBQUEsSUFDUCxRQUFRLENBQUMsR0FBRyxNQUFNO0FBQUEsSUFDbEIsVUFBVSxTQUFTLElBQUksQ0FBQyxFQUFFLE1BQU0sTUFBTSxPQUFPLEVBQUUsTUFBTSxTQUFTLE9BQU8sWUFBWSxLQUFLLEVBQUUsRUFBRTtBQUFBLElBQzFGLFlBQVksV0FBVyxJQUFJLENBQUMsZUFBZSxFQUFFLEdBQUcsVUFBVSxFQUFFO0FBQUEsRUFDOUQ7QUFDRjtBQUVPLElBQU0sc0JBQXNCLENBQUMsRUFBRSxLQUFLLFFBQVEsVUFBVSxPQUFtRDtBQUFBLEVBQzlHLE9BQU87QUFBQSxFQUNQO0FBQUEsRUFDQTtBQUFBLEVBQ0E7QUFDRjs7O0FDL0dBLElBQU0sUUFBUTtBQUVQLFNBQVMsVUFBVSxNQUFjLFVBQW9CLE1BQWlEO0FBQzNHLFFBQU0sUUFBUSxvQkFBSSxJQUFvQjtBQUN0QyxTQUFPO0FBQUEsSUFDTCxPQUFPLEVBQUUsTUFBTSxNQUFNLGFBQWEsS0FBSyxHQUFHO0FBQ3hDLFlBQU0sRUFBRSxJQUFJLElBQUk7QUFDaEIsWUFBTSxJQUFJLE1BQU0sS0FBSyxFQUFFLElBQUksQ0FBQztBQUM1QixlQUFTLEtBQUssR0FBRyxJQUFJLE9BQU8sUUFBUSxDQUFDLEtBQUssSUFBSSxHQUFHLE9BQU8sSUFBSSxJQUFJLG1CQUFtQixJQUFJLEVBQUUsRUFBRTtBQUMzRixpQkFBVyxFQUFFLElBQUFDLEtBQUksTUFBTSxNQUFNLEtBQUssWUFBWSxNQUFNLEdBQUcsS0FBSyxHQUFHO0FBQzdELGNBQU0sUUFBUSxDQUFDLE1BQU0sS0FBSyxFQUFFLElBQUksQ0FBQyxVQUFVLGNBQWMsS0FBSyxFQUFFLFVBQVUsS0FBSyxDQUFDLENBQUMsQ0FBQztBQUNsRixpQkFBUyxLQUFLLFdBQVcsSUFBSSxLQUFLLGNBQWNBLEdBQUUsQ0FBQyxDQUFDLE1BQU0sTUFBTSxLQUFLLElBQUksSUFBSSxXQUFXLENBQUMsQ0FBQyxFQUFFO0FBQUEsTUFDOUY7QUFDQSxVQUFJLFlBQVksU0FBUyxNQUFPLFVBQVMsS0FBSyxlQUFlLFlBQVksU0FBUyxLQUFLLE9BQU87QUFBQSxJQUNoRztBQUFBLElBQ0EsTUFBTSxVQUFVO0FBQ2QsaUJBQVcsQ0FBQyxNQUFNLElBQUksS0FBSyxNQUFPLE9BQU0sZ0JBQWdCLFlBQVksTUFBTSxJQUFJLEdBQUcsSUFBSTtBQUFBLElBQ3ZGO0FBQUEsRUFDRjtBQUNGOzs7QUNuQkEsZUFBc0IsT0FDcEIsU0FDQSxRQUNBLE1BTWlCO0FBQ2pCLFFBQU0sRUFBRSxTQUFTLElBQUk7QUFDckIsUUFBTSxhQUFhLEtBQUssY0FBZSxNQUFNLFFBQVEsV0FBVztBQUNoRSxNQUFJO0FBQ0osUUFBTSxZQUFZLFVBQVUsV0FBVyxNQUFNLFVBQVUsTUFBTSxXQUFXLFNBQVMsU0FBUyxDQUFDLFNBQVMsS0FBSztBQUN6RyxjQUFZLE1BQU0sUUFBUSxVQUFVO0FBQUEsSUFDbEMsR0FBRztBQUFBLElBQ0g7QUFBQSxJQUNBLGNBQWMsT0FBTztBQUFBLElBQ3JCLE9BQU87QUFBQSxJQUNQLFFBQVEsT0FBTztBQUFBLElBQ2YsUUFBUSxPQUFPLFNBQVMsVUFBVSxTQUFTO0FBQUEsSUFDM0MsZUFBZSxNQUFNLFFBQVE7QUFBQSxJQUM3QixRQUFRLFNBQVMsY0FDYixDQUFDLFVBQVUsV0FBVyxTQUFTLE9BQU8sYUFBYSxNQUFNLE9BQU8sc0JBQWtCLEdBQUcsU0FBUyxVQUFVLE1BQU0sQ0FBQyxJQUMvRztBQUFBLEVBQ04sQ0FBQztBQUNELFNBQU8sRUFBRSxXQUFXLFNBQVMsVUFBVSxRQUFRO0FBQ2pEOzs7QUN6Q0EsU0FBUyxlQUFlO0FBaUJ4QixJQUFNLFdBQVc7QUFFakIsSUFBTSxZQUFZO0FBR2xCLGVBQXNCLFlBQ3BCLFdBQ0EsT0FDQSxRQUNlO0FBQ2YsZ0JBQWMsV0FBVyxLQUFLO0FBQzlCLE1BQUksVUFBVSxPQUFRO0FBQ3RCLFFBQU0sWUFBWSxXQUFXLEtBQUs7QUFDbEMsUUFBTSxjQUFjLFdBQVcsTUFBTTtBQUN2QztBQUdBLGVBQWUsWUFBWSxXQUFzQixPQUE0QztBQUMzRixRQUFNLFFBQVEsb0JBQUksSUFBaUI7QUFDbkMsYUFBVyxFQUFFLE9BQU8sS0FBSyxLQUFLLE9BQU87QUFFbkMsUUFBSSxNQUFNLFNBQVMsRUFBRztBQUN0QixRQUNFLFFBQ0EsQ0FBQyxHQUFHLFVBQVUsWUFBWSxFQUFFLEtBQUssQ0FBQyxTQUFTLENBQUMsVUFBVSxPQUFPLE9BQU8sS0FBSyxDQUFDLEVBQUUsVUFBVSxNQUFNLFVBQVUsSUFBSSxJQUFJLENBQUMsQ0FBQztBQUVoSDtBQUNGLGVBQVcsRUFBRSxVQUFVLEtBQUssS0FBSyxPQUFPO0FBQ3RDLFVBQUksS0FBTTtBQUNWLGlCQUFXLEVBQUUsS0FBSyxLQUFLLFVBQVU7QUFDL0IsY0FBTSxNQUFNLFlBQVksV0FBVyxLQUFLLFFBQVEsTUFBTTtBQUN0RCxZQUFJLE9BQU8sTUFBTSxPQUFPLFVBQVcsT0FBTSxJQUFJLElBQUksTUFBTSxHQUFHO0FBQUEsTUFDNUQ7QUFBQSxJQUNGO0FBQUEsRUFDRjtBQUNBLFFBQU0sV0FBVyxNQUFNLFFBQVEsSUFBSSxDQUFDLEdBQUcsTUFBTSxPQUFPLENBQUMsRUFBRSxJQUFJLE9BQU8sQ0FBQyxHQUFHLE9BQU8sQ0FBQyxZQUFZLFlBQVksTUFBUztBQUMvRyxNQUFJLFFBQVEsU0FBUyxFQUFHLE9BQU0sUUFBUSxPQUFPLE1BQU07QUFDckQ7QUFHQSxTQUFTLFlBQVksV0FBc0IsUUFBZ0Q7QUFDekYsTUFBSTtBQUNGLFVBQU0sZUFBZSxFQUFFLE9BQU8sVUFBVSxNQUFNLEdBQUcsVUFBVSxVQUFVLFNBQVMsSUFBSTtBQUNsRixVQUFNLGFBQWEsSUFBSSxXQUFXLGNBQWMsVUFBVSxRQUFRLFNBQVMsWUFBWSxHQUFHLFlBQVk7QUFDdEcsUUFBSSxVQUFVLFdBQVcsTUFBTSxVQUFVLEdBQUcsTUFBTyxRQUFPO0FBQzFELFVBQU0sT0FBTyxPQUFPLFVBQVU7QUFDOUIsV0FBTyxTQUFTLFVBQWEsSUFBSSxTQUFTLElBQUksSUFBSSxJQUFJLElBQUksSUFBSSxJQUFJO0FBQUEsRUFDcEUsUUFBUTtBQUNOLFdBQU87QUFBQSxFQUNUO0FBQ0Y7QUFFQSxTQUFTLFFBQVEsRUFBRSxNQUFNLFVBQVUsTUFBTSxTQUFTLEdBQXNDO0FBQ3RGLFNBQU8sSUFBSSxRQUFRLENBQUMsWUFBWTtBQUM5QixVQUFNLFNBQVMsUUFBUTtBQUFBLE1BQ3JCLE1BQU0sU0FBUyxRQUFRLFlBQVksRUFBRTtBQUFBLE1BQ3JDLE1BQU0sT0FBTyxTQUFTLGFBQWEsV0FBVyxNQUFNLEdBQUc7QUFBQSxNQUN2RCxTQUFTO0FBQUEsSUFDWCxDQUFDO0FBQ0QsVUFBTSxPQUFPLENBQUMsWUFBdUM7QUFDbkQsYUFBTyxRQUFRO0FBQ2YsY0FBUSxPQUFPO0FBQUEsSUFDakI7QUFDQSxVQUFNLFNBQVMsQ0FBQyxNQUFtRSxTQUNqRjtBQUFBLE1BQ0UsSUFBSSxRQUFRLE1BQU07QUFBQSxRQUNoQixNQUFNLEdBQUcsSUFBSSxJQUFJLElBQUk7QUFBQSxRQUNyQixPQUFPO0FBQUEsUUFDUCxRQUFRO0FBQUEsTUFDVixDQUFDO0FBQUEsSUFDSDtBQUNGLFdBQU8sS0FBSyxXQUFXLE1BQU0sS0FBSyxNQUFTLENBQUM7QUFDNUMsV0FBTyxLQUFLLFdBQVcsTUFBTSxPQUFPLHNCQUFzQix5QkFBeUIsV0FBVyxHQUFJLElBQUksQ0FBQztBQUN2RyxXQUFPLEtBQUssU0FBUyxDQUFDLEVBQUUsS0FBSyxNQUE2QjtBQUN4RCxVQUFJLFNBQVMsZUFBZSxTQUFTLFlBQWEsUUFBTyxlQUFlLDZCQUE2QjtBQUFBLGVBQzVGLFNBQVMsZUFBZ0IsUUFBTyxzQkFBc0IsNENBQTRDO0FBQUEsVUFFdEcsTUFBSyxNQUFTO0FBQUEsSUFDckIsQ0FBQztBQUFBLEVBQ0gsQ0FBQztBQUNIO0FBR0EsZUFBZSxjQUFjLFdBQXNCLFFBQW9DO0FBQ3JGLFFBQU0sRUFBRSxTQUFTLEtBQUssSUFBSSxVQUFVO0FBQ3BDLE1BQUksQ0FBQyxRQUFTO0FBQ2QsUUFBTSxRQUFRLEtBQUssU0FBUyxDQUFDLFNBQVMsQ0FBQztBQUN2QyxRQUFNLFFBQVEsTUFBTSxVQUFVLFdBQVcsU0FBUyxNQUFNLEVBQUUsTUFBTSxDQUFDLFVBQW1CO0FBQ2xGLFVBQU0sVUFBVSxLQUFLLEVBQUUsR0FBRyxLQUFLO0FBQUEsRUFDakMsQ0FBQztBQUNELFFBQU0sU0FBUztBQUFBLElBQ2IsUUFBUSxVQUFVLE1BQU0sVUFDdEIsZ0JBQWdCLE9BQU8sUUFBUSxVQUFVLENBQUMsSUFBSSxLQUM5QyxZQUFZLFFBQVEsVUFBVSxDQUFDO0FBQUEsSUFDakMsUUFBUSxVQUFVLFVBQWEsZ0JBQWdCLE9BQU8sUUFBUSxLQUFLLEtBQUssS0FBSyxTQUFTLFFBQVEsS0FBSztBQUFBLEVBQ3JHLEVBQUUsT0FBTyxDQUFDLFNBQVMsU0FBUyxLQUFLO0FBQ2pDLE1BQUksT0FBTyxXQUFXLEVBQUc7QUFDekIsUUFBTSxJQUFJLFFBQVEsbUJBQW1CO0FBQUEsSUFDbkMsTUFBTSxrQ0FBa0MsS0FBSyx5QkFBeUIsVUFBVSxZQUFZLElBQUksVUFBVSxPQUFPLEtBQUssT0FBTyxDQUFDO0FBQUEsSUFDOUg7QUFBQSxJQUNBLFFBQVE7QUFBQSxJQUNSLE1BQU0sRUFBRSxTQUFTLE1BQU07QUFBQSxFQUN6QixDQUFDO0FBQ0g7QUFFQSxlQUFlLFVBQ2IsV0FDQSxFQUFFLFNBQVMsSUFBQUMsSUFBRyxHQUNkLFFBQ2lCO0FBQ2pCLFFBQU0sUUFBNEIsQ0FBQztBQUNuQyxRQUFNLFFBQVEsVUFBVUEsS0FBSSxLQUFLO0FBQ2pDLFFBQU0sUUFBUSxJQUFJLEtBQUs7QUFDdkIsUUFBTSxXQUFXLE1BQU0sVUFBVSxRQUFRLE9BQU87QUFDaEQsUUFBTSxFQUFFLFNBQVMsU0FBUyxJQUFJLE1BQU0sWUFBWSxXQUFXLFVBQVU7QUFBQSxJQUNuRSxPQUFPLE1BQU07QUFBQSxJQUNiLFFBQVE7QUFBQSxJQUNSO0FBQUEsSUFDQSxNQUFNO0FBQUEsRUFDUixDQUFDO0FBQ0QsUUFBTSxDQUFDLEtBQUssSUFBSTtBQUNoQixNQUFJLE1BQU8sT0FBTTtBQUNqQixRQUFNLFFBQVEsUUFBUSxZQUFZLE1BQU0sS0FBSyxRQUFRLFFBQVE7QUFDN0QsTUFBSSxVQUFVLFFBQVc7QUFDdkIsVUFBTSxJQUFJLFFBQVEsbUJBQW1CLEVBQUUsTUFBTSxHQUFHLE9BQU8sc0JBQXNCQSxHQUFFLElBQUksUUFBUSxzQkFBc0IsQ0FBQztBQUFBLEVBQ3BIO0FBQ0EsU0FBTyxPQUFPLEtBQUs7QUFDckI7OztBQ3ZJTyxTQUFTLFlBQVksU0FBa0IsTUFBYyxVQUFvQixNQUFvQjtBQUNsRyxRQUFNLEVBQUUsSUFBSSxJQUFJO0FBQ2hCLFFBQU0sRUFBRSxNQUFNLE9BQU8sY0FBYyxRQUFRLFdBQVcsU0FBUyxNQUFNLElBQUksYUFBYSxJQUFJLElBQUk7QUFDOUYsUUFBTSxPQUFPLGNBQWMsSUFBSSxPQUFPLGFBQWEsSUFBSSxLQUFLLElBQUksTUFBTSxVQUFVLElBQUksSUFBSSxJQUFJLFFBQVE7QUFDcEcsUUFBTSxRQUFRO0FBQUEsSUFDWixRQUFRLFNBQVMsTUFBTSxHQUFHO0FBQUEsSUFDMUIsR0FBRyxVQUFVLEtBQUssQ0FBQyxHQUFHLE1BQU0sU0FBUyxJQUFJLEtBQUssSUFBSSxJQUFJLEdBQUcsTUFBTSxNQUFNLFNBQVMsQ0FBQyxLQUFLLEVBQUUsR0FBRyxNQUFNLFVBQVUsSUFBSSxLQUFLLE1BQU0sT0FBTyxhQUFhLEVBQUU7QUFBQSxJQUM5SSxHQUFHLGFBQWEsR0FBRyxPQUFPLGFBQWEsTUFBTSxhQUFhLE1BQU07QUFBQSxJQUNoRSxTQUFTLEtBQUssR0FBRyxNQUFNO0FBQUEsSUFDdkIsVUFBVSxTQUFTLEtBQUssSUFBSSxJQUFJLEdBQUcsVUFBVSxNQUFNLGFBQWE7QUFBQSxJQUNoRSxhQUFhLElBQUk7QUFBQSxFQUNuQixFQUFFLE9BQU8sT0FBTztBQUNoQixRQUFNLFFBQVEsQ0FBQyxHQUFHLElBQUksS0FBSyxJQUFJLENBQUMsS0FBSyxJQUFJLEtBQUssSUFBSSxDQUFDLE1BQU0sTUFBTSxLQUFLLEtBQUssQ0FBQyxNQUFNLElBQUksSUFBSSxPQUFPLEdBQUcsRUFBRSxDQUFDLEVBQUU7QUFDdkcsUUFBTUMsWUFBVyxhQUFhLE9BQU87QUFDckMsTUFBSUEsVUFBVSxPQUFNLEtBQUtBLFNBQVE7QUFDakMsUUFBTSxLQUFLLEdBQUcsT0FBTyxnREFBZ0QsU0FBUyxVQUFVLElBQUksQ0FBQztBQUM3RixRQUFNLEtBQUssR0FBRyxPQUFPLGtEQUFrRCxXQUFXLFVBQVUsSUFBSSxDQUFDO0FBQ2pHLE1BQUksVUFBVSxTQUFTLEVBQUcsT0FBTSxLQUFLLElBQUksSUFBSSwrQkFBK0IsR0FBRyxFQUFFLENBQUM7QUFDbEYsTUFBSSxZQUFhLE9BQU0sS0FBSyxJQUFJLElBQUksK0NBQStDLEdBQUcsRUFBRSxDQUFDO0FBQUEsV0FDaEYsUUFBUSxLQUFLLFNBQVMsRUFBRyxPQUFNLEtBQUssSUFBSSxJQUFJLHFEQUFxRCxHQUFHLEVBQUUsQ0FBQztBQUNoSCxTQUFPLE1BQU0sS0FBSyxJQUFJO0FBQ3hCO0FBR08sU0FBUyxRQUFRLEVBQUUsSUFBSSxNQUFNLEdBQVksTUFBYyxFQUFFLElBQUksR0FBcUI7QUFDdkYsUUFBTSxPQUFPLEtBQUssSUFBSSxNQUFNLGtCQUFrQixJQUFJLElBQUksSUFBSSw4QkFBOEI7QUFDeEYsU0FBTyxHQUFHLElBQUksS0FBSyxJQUFJLENBQUMsS0FBSyxJQUFJLEtBQUssSUFBSSxDQUFDLE1BQU0sVUFBVSxLQUFLLENBQUM7QUFDbkU7QUFFQSxJQUFNLFlBQVksQ0FBQyxFQUFFLElBQUksT0FBTyxNQUM5QixHQUFHLEtBQUssTUFBTSxJQUFJLEtBQUssV0FBVyxJQUFJLFNBQVMsT0FBTztBQUV4RCxTQUFTLFNBQVMsRUFBRSxJQUFJLFFBQVEsT0FBTyxHQUFpQyxLQUE4QjtBQUNwRyxRQUFNLFFBQVEsQ0FBQyxHQUFHLEVBQUUsT0FBTyxLQUFLLE1BQU0sT0FBTztBQUM3QyxNQUFJLFNBQVMsRUFBRyxPQUFNLEtBQUssSUFBSSxJQUFJLEdBQUcsTUFBTSxTQUFTLENBQUM7QUFDdEQsTUFBSSxTQUFTLEVBQUcsT0FBTSxLQUFLLEdBQUcsTUFBTSxpQkFBaUI7QUFDckQsU0FBTyxNQUFNLEtBQUssSUFBSTtBQUN4QjtBQUdBLFNBQVMsYUFBYSxFQUFFLFNBQVMsWUFBWSxPQUFPLEdBQWdDO0FBQ2xGLE1BQUksVUFBVSxlQUFlLEtBQUssV0FBVyxFQUFHLFFBQU87QUFDdkQsU0FBTyxLQUFLLE9BQU8sYUFBYSxVQUFVLHdCQUF3QixhQUFhLE1BQU0sQ0FBQztBQUN4RjtBQUVBLFNBQVMsT0FBTyxNQUFjLE9BQTBCLEVBQUUsSUFBSSxHQUFhLE1BQXNCO0FBQy9GLE1BQUksTUFBTSxXQUFXLEVBQUcsUUFBTyxDQUFDO0FBQ2hDLFFBQU1DLFNBQVEsTUFBTSxNQUFNLEdBQUcsRUFBRSxFQUFFLElBQUksQ0FBQyxTQUFTLEtBQUssY0FBYyxLQUFLLElBQUksQ0FBQyxDQUFDLEVBQUU7QUFDL0UsUUFBTSxPQUFPLE1BQU0sU0FBU0EsT0FBTTtBQUNsQyxTQUFPLENBQUMsSUFBSSxPQUFPLElBQUksR0FBRyxHQUFHQSxRQUFPLEdBQUksT0FBTyxJQUFJLENBQUMsU0FBUyxJQUFJLDBCQUEwQixJQUFJLENBQUMsQ0FBRTtBQUNwRztBQUdPLFNBQVMsV0FBVyxFQUFFLFFBQVEsVUFBVSxXQUFXLEdBQVcsVUFBb0IsTUFBb0I7QUFDM0csUUFBTSxFQUFFLElBQUksSUFBSTtBQUNoQixRQUFNLFFBQVE7QUFBQSxJQUNaLElBQUksSUFBSSxNQUFNLElBQUk7QUFBQSxJQUNsQixRQUFRLElBQUksSUFBSSxRQUFRO0FBQUEsSUFDeEIsYUFBYSxJQUFJLElBQUksV0FBVztBQUFBLElBQ2hDLFNBQVMsSUFBSSxJQUFJLFNBQVM7QUFBQSxJQUMxQixJQUFJLElBQUksSUFBSSxHQUFHO0FBQUEsRUFDakI7QUFDQSxRQUFNLE9BQU8sU0FDVixNQUFNLEdBQUcsWUFBWSxFQUNyQixJQUFJLENBQUMsRUFBRSxNQUFNLE1BQU0sTUFBTSxDQUFDLGNBQWMsS0FBSyxJQUFJLENBQUMsR0FBRyxHQUFHLE9BQU8sSUFBSSxDQUFDLFVBQVUsTUFBTSxNQUFNLElBQUksS0FBSyxLQUFLLEVBQUUsQ0FBQyxDQUFDLENBQUM7QUFDaEgsUUFBTSxTQUFTLENBQUMsTUFBTSxNQUFNLFVBQVUsRUFBRSxNQUFNLENBQUMsSUFBSSxHQUFHLE1BQU0sR0FBRyxVQUFVLE9BQU8sSUFBSSxDQUFDLEdBQUcsVUFBVSxRQUFRLENBQUMsRUFBRSxDQUFDLENBQUM7QUFDL0csTUFBSSxTQUFTLFNBQVMsYUFBYyxRQUFPLEtBQUssT0FBTyxTQUFTLFNBQVMsWUFBWSwwQkFBMEI7QUFDL0csTUFBSSxXQUFXLFNBQVMsR0FBRztBQUN6QixVQUFNLFFBQVEsV0FDWCxNQUFNLEdBQUdDLGVBQWMsRUFDdkIsSUFBSSxDQUFDLEVBQUUsU0FBUyxPQUFPLFVBQVUsT0FBTyxLQUFLLE1BQU07QUFBQSxNQUNsRCxHQUFHLENBQUMsU0FBUyxPQUFPLFVBQVUsS0FBSyxFQUFFLElBQUksQ0FBQyxTQUFTLGNBQWMsS0FBSyxJQUFJLENBQUMsQ0FBQztBQUFBLE1BQzVFLElBQUksSUFBSSxJQUFJO0FBQUEsSUFDZCxDQUFDO0FBQ0gsV0FBTyxLQUFLLElBQUksSUFBSSxLQUFLLEdBQUcsV0FBVyxNQUFNLElBQUksV0FBVyxXQUFXLElBQUksY0FBYyxZQUFZLEVBQUUsQ0FBQztBQUN4RyxXQUFPLEtBQUssTUFBTSxPQUFPLFVBQVUsRUFBRSxNQUFNLENBQUMsSUFBSSxNQUFNLFlBQVksU0FBUyxNQUFNLEdBQUcsVUFBVSxDQUFDLEdBQUcsQ0FBQyxFQUFFLENBQUMsQ0FBQztBQUN2RyxRQUFJLFdBQVcsU0FBU0E7QUFDdEIsYUFBTyxLQUFLLE9BQU8sV0FBVyxTQUFTQSxlQUFjLDBCQUEwQjtBQUFBLEVBQ25GO0FBQ0EsU0FBTyxPQUFPLEtBQUssSUFBSTtBQUN6QjtBQUVBLElBQU0sZUFBZTtBQUNyQixJQUFNQSxrQkFBaUI7OztBQzVGdkIsU0FBUyxrQkFBa0I7OztBQ2dCcEIsSUFBTSxXQUFXLE9BQWM7QUFBQSxFQUNwQyxNQUFNLEVBQUUsSUFBSSxHQUFHLFFBQVEsR0FBRyxRQUFRLEVBQUU7QUFBQSxFQUNwQyxPQUFPLEVBQUUsSUFBSSxHQUFHLFFBQVEsR0FBRyxTQUFTLEVBQUU7QUFBQSxFQUN0QyxjQUFjLEVBQUUsS0FBSyxHQUFHLFFBQVEsRUFBRTtBQUFBLEVBQ2xDLFFBQVE7QUFBQSxFQUNSLFdBQVcsQ0FBQztBQUFBLEVBQ1osU0FBUyxDQUFDO0FBQUEsRUFDVixPQUFPO0FBQUEsRUFDUCxTQUFTO0FBQ1g7QUFFTyxTQUFTLE1BQU0sT0FBa0IsT0FBb0I7QUFDMUQsTUFBSSxNQUFNLFVBQVUsUUFBUTtBQUMxQixVQUFNLE1BQU0sTUFBTSxLQUFLLEtBQUs7QUFDNUIsZUFBVyxFQUFFLEdBQUcsS0FBSyxNQUFNLE1BQU0sWUFBWSxDQUFDLEVBQUcsT0FBTSxhQUFhLEtBQUssUUFBUSxRQUFRLEtBQUs7QUFBQSxFQUNoRyxXQUFXLE1BQU0sVUFBVSxNQUFPLE9BQU0sS0FBSyxNQUFNLEtBQUssT0FBTyxRQUFRLEtBQUs7QUFBQSxXQUNuRSxNQUFNLFVBQVUsUUFBUTtBQUMvQixRQUFJLE1BQU0sVUFBVSxPQUFRLE9BQU0sVUFBVTtBQUM1QyxRQUFJLE1BQU0sVUFBVSxZQUFZLE1BQU0sVUFBVSxhQUFjLE9BQU0sVUFBVSxLQUFLLFNBQVMsS0FBSyxDQUFDO0FBQUEsRUFDcEc7QUFDRjtBQUdBLElBQU0sV0FBVyxDQUFDLEVBQUUsTUFBTSxPQUFPLEtBQUssUUFBUSxNQUM1QyxHQUFHLFFBQVEsU0FBWSxLQUFLLE9BQU8sR0FBRyxJQUFJLEdBQUcsSUFBSSxPQUFPLEtBQUssR0FBRyxVQUFVLEtBQUssUUFBUSxJQUFJLEtBQUssRUFBRTtBQUU3RixTQUFTLFVBQ2QsT0FDQSxPQUNTO0FBQ1QsUUFBTSxFQUFFLE1BQU0sR0FBRyxPQUFPLElBQUk7QUFDNUIsUUFBTSxFQUFFLEtBQUssYUFBYSxNQUFNLFNBQVMsVUFBQUMsVUFBUyxJQUFJO0FBQ3RELFNBQU87QUFBQSxJQUNMO0FBQUEsSUFDQSxJQUFJLE1BQU0sWUFBWTtBQUFBLElBQ3RCO0FBQUEsSUFDQSxNQUFNLFVBQVUsT0FBTztBQUFBLElBQ3ZCLEdBQUc7QUFBQSxJQUNILEdBQUdBO0FBQUEsSUFDSDtBQUFBLEVBQ0Y7QUFDRjs7O0FDdkNBLGVBQXNCLFNBQ3BCLE1BQ0EsTUFDQSxXQUNBLFFBQ0EsT0FDQSxFQUFFLFNBQVMsUUFBQUMsVUFBUyxHQUFHLE1BQU0sTUFBTSxRQUFRLFlBQVksT0FBTyxHQUM5RCxRQUNlO0FBQ2YsUUFBTSxRQUFRLGdCQUFnQixTQUFTO0FBRXZDLFFBQU0sUUFBUSxVQUFVLFNBQVMsU0FBWSxLQUFLO0FBQ2xELFFBQU1DLFNBQVEsU0FBVSxNQUFNLFVBQVUsT0FBTyxVQUFVLFdBQVcsSUFBSTtBQUN4RSxRQUFNLFNBQVMsS0FBSyxLQUFLLFdBQVcsV0FBVyxNQUFNLFdBQVcsS0FBSyxDQUFDO0FBQ3RFLFFBQU0sUUFBUSxNQUFNO0FBQUEsSUFDbEIsT0FBTyxPQUFPLGFBQWEsRUFBRTtBQUFBLElBQzdCLEtBQUs7QUFBQSxJQUNMLE9BQU8sUUFBUTtBQUNiLFVBQUksUUFBUSxDQUFDLEtBQUssSUFBSSxJQUFJLE1BQU0sRUFBRztBQUNuQyxZQUFNLFNBQVMsU0FBUyxVQUFVRCxTQUFRLElBQUksTUFBTTtBQUNwRCxVQUFJLFdBQVcsUUFBVztBQUN4QixjQUFNLFNBQVNDLFFBQU8sSUFBSSxRQUFRLFNBQVMsR0FBR0QsT0FBTSxJQUFJLElBQUksTUFBTSxFQUFFO0FBQ3BFLGNBQU0sS0FBSyxTQUFTLE9BQU8sUUFBUSxLQUFLO0FBQ3hDLGNBQU0sS0FBSyxVQUFVO0FBQ3JCLFlBQUksQ0FBQyxPQUFRLE9BQU0sVUFBVSxPQUFPLE1BQU0sU0FBUyxhQUFhLEdBQUcsQ0FBQztBQUNwRTtBQUFBLE1BQ0Y7QUFDQSxZQUFNLFFBQVEsUUFBUSxHQUFHO0FBQ3pCLFlBQU0sT0FBTyxPQUFPLFdBQVcsTUFBTSxXQUFXLE9BQU8sR0FBRyxHQUFHLElBQUksUUFBUSxLQUFLO0FBQzlFLFlBQU0sRUFBRSxTQUFTLFVBQVUsSUFBSSxNQUFNLFFBQVEsTUFBTSxNQUFNLEtBQUtDLFFBQU8sVUFBVTtBQUUvRSxVQUFJLE9BQU8sV0FBVyxXQUFXLENBQUMsVUFBVztBQUM3QyxhQUFPLEVBQUUsT0FBTyxPQUFPLEtBQUssSUFBSSxRQUFRLElBQUksQ0FBQyxTQUFTLE9BQU8sUUFBUSxDQUFDO0FBQ3RFLGVBQVMsSUFBSUQsU0FBUSxJQUFJLFFBQVEsT0FBTyxPQUFPO0FBQy9DLFVBQUksUUFBUyxPQUFNLFVBQVUsT0FBTyxNQUFNLFNBQVMsT0FBTztBQUFBLElBQzVEO0FBQUEsSUFDQTtBQUFBLEVBQ0Y7QUFDQSxRQUFNLFFBQVE7QUFDZCxNQUFJLE1BQU8sT0FBTSxVQUFVLE9BQU8sTUFBTSxTQUFTLEtBQUs7QUFDdEQsTUFBSSxDQUFDLFNBQVMsQ0FBQ0MsT0FBTztBQUN0QixNQUFJLE9BQU8sUUFBUyxRQUFPQSxPQUFNLFFBQVE7QUFDekMsU0FBTyxNQUFNLFlBQVksT0FBT0EsUUFBTyxLQUFLLE1BQU0sTUFBUyxDQUFDO0FBQzlEO0FBRUEsZUFBZSxRQUNiLE1BQ0EsTUFDQSxLQUNBQSxRQUNBLFlBQ2lCO0FBQ2pCLFFBQU0sU0FBUyxNQUFNLGFBQWEsTUFBTSxNQUFNLFVBQVU7QUFDeEQsTUFBSSxDQUFDLEtBQUssU0FBUyxDQUFDQSxPQUFPLFFBQU87QUFDbEMsUUFBTSxFQUFFLE9BQU8sUUFBUSxJQUFJLE9BQU8sS0FBSyxPQUFPLE1BQU0sT0FBTyxPQUFPO0FBQ2xFLE9BQUssU0FBUyxNQUFNLEtBQUssSUFBSSxLQUFLO0FBQ2xDLFFBQU1BLE9BQU0sSUFBSSxJQUFJLFFBQVEsS0FBSztBQUNqQyxTQUFPLEVBQUUsR0FBRyxRQUFRLFFBQVE7QUFDOUI7QUFHQSxlQUFlLFNBQ2JBLFFBQ0FELFNBQ0EsU0FDQUUsS0FDZTtBQUNmLFFBQU0sUUFBUSxTQUFTLFlBQVlBLEdBQUU7QUFDckMsTUFBSUQsVUFBUyxNQUFPLE9BQU1BLE9BQU0sSUFBSUQsU0FBUSxLQUFLO0FBQ25EO0FBRUEsSUFBTSxlQUFlLENBQUMsRUFBRSxRQUFBQSxRQUFPLE1BQzdCLElBQUksUUFBUSxlQUFlLEVBQUUsTUFBTSxPQUFPQSxPQUFNLHFDQUFxQyxDQUFDO0FBR3hGLFNBQVMsUUFBUSxFQUFFLFFBQVEsR0FBZ0I7QUFDekMsYUFBVyxRQUFRLFFBQVMsUUFBTyxVQUFVLFFBQVEsSUFBSSxDQUFDLEVBQUUsUUFBUSxVQUFVLEVBQUU7QUFDaEYsU0FBTztBQUNUOzs7QUM3REEsZUFBc0IsVUFBVSxXQUFzQixNQUFpQixVQUEwQztBQUMvRyxRQUFNLFVBQVUsWUFBWSxJQUFJO0FBQ2hDLFFBQU0sRUFBRSxTQUFTLFFBQUFHLFVBQVMsRUFBRSxJQUFJO0FBQ2hDLFFBQU0sUUFBUSxTQUFTO0FBRXZCLFFBQU0sUUFBUSxLQUFLLEdBQUksU0FBUyxhQUFhQSxPQUFNLEtBQUssQ0FBQyxDQUFFO0FBQzNELFFBQU1DLFlBQVcsRUFBRSxHQUFHLFVBQVUsU0FBUztBQUN6QyxRQUFNLE9BQU8sSUFBSSxnQkFBZ0I7QUFDakMsUUFBTSxFQUFFLE9BQU8sSUFBSTtBQUNuQixRQUFNLFNBQVMsU0FBUyxxQkFBcUIsWUFBWSxJQUFJLENBQUMsUUFBUSxLQUFLLE1BQU0sQ0FBQyxJQUFJO0FBQ3RGLFFBQU0sU0FBUyxDQUFDLFVBQTJCO0FBQ3pDLFVBQU0sT0FBTyxLQUFLO0FBQ2xCLGFBQVMsT0FBTyxLQUFLO0FBQ3JCLFFBQUksU0FBUyxzQkFBc0IsTUFBTSxVQUFVLFVBQVUsTUFBTSxVQUFVLFNBQVUsTUFBSyxNQUFNO0FBQUEsRUFDcEc7QUFDQSxZQUFVLGtCQUFrQixDQUFDLFNBQVMsT0FBTyxFQUFFLE9BQU8sa0JBQWtCLE1BQU0sU0FBUyxPQUFVLENBQUM7QUFDbEcsWUFBVSxTQUFTLENBQUMsU0FBUyxPQUFPLEVBQUUsT0FBTyxXQUFXLEdBQUcsS0FBSyxDQUFDO0FBQ2pFLFFBQU0sU0FBUyxDQUFDLE9BQWMsS0FBYyxjQUE2QjtBQUFBLElBQ3ZFO0FBQUEsSUFDQTtBQUFBLElBQ0E7QUFBQSxJQUNBO0FBQUEsSUFDQSxJQUFJLFFBQVEsU0FBWSxPQUFPRCxPQUFNLElBQUksR0FBR0EsT0FBTSxJQUFJLEdBQUc7QUFBQSxJQUN6RCxPQUFPO0FBQUEsSUFDUDtBQUFBLElBQ0E7QUFBQSxJQUNBLE1BQU0sQ0FBQztBQUFBLElBQ1AsTUFBTSxNQUFNO0FBQ1YsWUFBTSxRQUFRLEtBQUssSUFBSTtBQUN2QixlQUFTLE1BQU1BLFNBQVEsSUFBSTtBQUFBLElBQzdCO0FBQUEsSUFDQTtBQUFBLElBQ0EsT0FBTyxLQUFLO0FBQUEsSUFDWixNQUFNLEVBQUUsT0FBTyxDQUFDLEVBQUU7QUFBQSxJQUNsQixTQUFTLFNBQVMsV0FBVyxvQkFBSSxJQUFJO0FBQUEsSUFDckM7QUFBQSxJQUNBLE9BQU87QUFBQSxFQUNUO0FBQ0EsTUFBSTtBQUNGLFFBQUksS0FBSyxLQUFNLE9BQU0sU0FBUyxNQUFNLEtBQUssTUFBTSxXQUFXLFFBQVEsT0FBTyxFQUFFLEdBQUcsVUFBVSxPQUFPLEdBQUcsTUFBTTtBQUFBLFNBQ25HO0FBQ0gsWUFBTSxPQUFPLE9BQU8sV0FBVyxNQUFNLFdBQVcsZ0JBQWdCLFNBQVMsQ0FBQyxDQUFDO0FBQzNFLFlBQU0sU0FBUyxNQUFNLGFBQWEsTUFBTSxNQUFNLFNBQVMsVUFBVTtBQUNqRSxVQUFJLE9BQU8sUUFBUyxPQUFNLFVBQVUsT0FBTyxNQUFNLFNBQVMsT0FBTyxPQUFPO0FBRXhFLFVBQUksT0FBTyxXQUFXLE9BQU8sVUFBVyxPQUFNLFNBQVMsT0FBT0EsU0FBUSxLQUFLO0FBQUEsSUFDN0U7QUFBQSxFQUNGLFVBQUU7QUFDQSxVQUFNLGNBQWMsV0FBVyxNQUFNO0FBQ3JDLGNBQVUsa0JBQWtCO0FBQzVCLGNBQVUsU0FBUztBQUFBLEVBQ3JCO0FBQ0EsUUFBTSxjQUFjLFNBQVMsT0FBTztBQUNwQyxNQUFJLFlBQWEsT0FBTSxVQUFVLElBQUksUUFBUSxlQUFlLEVBQUUsTUFBTSxjQUFjLENBQUM7QUFBQSxXQUUxRSxFQUFFLEtBQUssUUFBUSxPQUFPLFNBQVUsT0FBTSxTQUFTLE9BQU9BLFNBQVEsTUFBTSxZQUFZLE1BQVM7QUFDbEcsU0FBTyxVQUFVLE9BQU87QUFBQSxJQUN0QixLQUFLLFNBQVMsT0FBTyxVQUFVLElBQUk7QUFBQSxJQUNuQztBQUFBLElBQ0EsTUFBTSxZQUFZLElBQUksSUFBSTtBQUFBLElBQzFCLFNBQVMsS0FBSyxTQUFTO0FBQUEsSUFDdkIsVUFBVTtBQUFBLE1BQ1IsU0FBUyxVQUFVLFNBQVMsVUFBVUMsVUFBUztBQUFBLE1BQy9DLFlBQVksVUFBVSxTQUFTLGFBQWFBLFVBQVM7QUFBQSxNQUNyRCxRQUFRLFVBQVUsU0FBUyxTQUFTQSxVQUFTO0FBQUEsSUFDL0M7QUFBQSxFQUNGLENBQUM7QUFDSDs7O0FDM0ZBLElBQU0sZ0JBQTBCLEVBQUUsTUFBTSxNQUFNLFFBQVcsS0FBSyxNQUFNLE9BQVU7QUFFOUUsSUFBTSxlQUFlLENBQUMsT0FBdUIsYUFBYSxFQUFFLEVBQUUsUUFBUSxXQUFXLElBQUk7QUFHckYsSUFBTSxVQUFVO0FBRWhCLElBQU0sT0FBTztBQUdOLFNBQVMsU0FBUyxFQUFFLE1BQU0sS0FBSyxHQUFjQyxXQUE4QixVQUE4QjtBQUM5RyxNQUFJLENBQUMsU0FBUyxLQUFNLFFBQU87QUFDM0IsUUFBTSxVQUFVLFlBQVksSUFBSTtBQUNoQyxRQUFNLFNBQVMsRUFBRSxHQUFHQSxVQUFTO0FBQzdCLE1BQUksQ0FBQyxNQUFNLFFBQVEsT0FBTyxXQUFXLElBQUksQ0FBQyxHQUFHLEdBQUcsR0FBRyxDQUFDO0FBQ3BELE1BQUksU0FBUztBQUNiLE1BQUk7QUFDSixNQUFJO0FBQ0osUUFBTSxPQUF3QyxDQUFDO0FBRS9DLFFBQU0sT0FBTyxDQUFDQyxXQUEwQjtBQUN0QyxVQUFNLE1BQU0sWUFBWSxJQUFJO0FBQzVCLFNBQUssS0FBSyxFQUFFLElBQUksS0FBSyxPQUFBQSxPQUFNLENBQUM7QUFDNUIsV0FBTyxLQUFLLFNBQVMsS0FBSyxPQUFPLEtBQUssQ0FBQyxHQUFHLE1BQU0sT0FBTyxLQUFNLE1BQUssTUFBTTtBQUN4RSxVQUFNLENBQUMsS0FBSyxJQUFJO0FBQ2hCLFdBQU8sU0FBUyxNQUFNLE1BQU0sTUFBT0EsU0FBUSxNQUFNLFNBQVMsT0FBUyxNQUFNLE1BQU0sTUFBTTtBQUFBLEVBQ3ZGO0FBRUEsUUFBTSxVQUFVLE1BQWM7QUFDNUIsVUFBTSxVQUFVLGFBQWEsWUFBWSxJQUFJLElBQUksT0FBTztBQUN4RCxVQUFNLFFBQVEsS0FBSyxPQUFPLE9BQU8sS0FBSztBQUN0QyxVQUFNLFFBQVEsT0FDVjtBQUFBLE1BQ0UsR0FBRyxJQUFJLEdBQUcsVUFBVSxTQUFZLEtBQUssT0FBTyxLQUFLLEVBQUU7QUFBQSxNQUNuRCxTQUFTLEtBQUssR0FBRyxNQUFNO0FBQUEsTUFDdkIsR0FBRyxNQUFNLFFBQVEsUUFBUSxLQUFLLElBQUksQ0FBQyxDQUFDO0FBQUEsTUFDcEMsVUFBVSxVQUFhLFFBQVEsS0FBSyxPQUFPLFNBQVMsR0FBRyxjQUFlLFFBQVEsUUFBUSxRQUFTLEdBQUksQ0FBQztBQUFBLElBQ3RHLElBQ0EsQ0FBQyxHQUFHLEtBQUssVUFBVSxjQUFjLEtBQUssR0FBRyxXQUFXLFdBQVcsUUFBUSxNQUFNLEdBQUcsTUFBTSxRQUFRLENBQUMsQ0FBQyxXQUFXO0FBQy9HLFVBQU0sUUFBUSxDQUFDLEdBQUcsSUFBSSxLQUFLLENBQUMsR0FBRyxPQUFPLE9BQU8sRUFBRSxPQUFPLE9BQU8sRUFBRSxLQUFLLEtBQUssQ0FBQyxFQUFFO0FBQzVFLFFBQUksV0FBVyxHQUFJLE9BQU0sS0FBSyxjQUFjLE1BQU0sRUFBRTtBQUNwRCxRQUFJLFNBQVM7QUFDWCxZQUFNLE9BQU8sUUFBUSxRQUFRLFlBQVksSUFBSTtBQUM3QyxZQUFNLFVBQVUsR0FBR0QsVUFBUyxVQUFVLE9BQU8sT0FBTztBQUNwRCxZQUFNO0FBQUEsUUFDSixPQUFPLElBQ0gsY0FBYyxRQUFRLElBQUksS0FBSyxhQUFhLElBQUksQ0FBQyxVQUFVLFFBQVEsR0FBRyxNQUFNLE9BQU8sS0FDbkYsS0FBSyxPQUFPLFlBQVksYUFBYUEsVUFBUyxTQUFTLE9BQU8sTUFBTSxDQUFDO0FBQUEsTUFDM0U7QUFBQSxJQUNGO0FBQ0EsV0FBTyxNQUFNLEtBQUssSUFBSTtBQUFBLEVBQ3hCO0FBRUEsT0FBSyxNQUFNLE1BQU0sRUFBRTtBQUFBLElBQ2pCLENBQUMsVUFBVTtBQUNULGNBQVE7QUFBQSxJQUNWO0FBQUEsSUFDQSxNQUFNO0FBQUEsRUFDUjtBQUNBLFFBQU0sUUFBUSxZQUFZLE1BQU0sU0FBUyxTQUFTLFFBQVEsQ0FBQyxHQUFHLE9BQU87QUFDckUsU0FBTztBQUFBLElBQ0wsS0FBSyxPQUFPO0FBQ1YsVUFBSSxNQUFNLFVBQVUsUUFBUTtBQUMxQixpQkFBUztBQUNULFlBQUksTUFBTSxVQUFVLFNBQVUsZ0JBQWU7QUFDN0MsaUJBQVMsR0FBRyxNQUFNLFFBQVEsU0FBWSxLQUFLLE9BQU8sTUFBTSxHQUFHLEdBQUcsR0FBRyxNQUFNLFdBQVcsU0FBWSxLQUFLLEdBQUcsTUFBTSxNQUFNLEdBQUcsR0FBRyxNQUFNLEtBQUs7QUFBQSxNQUNySSxXQUFXLE1BQU0sVUFBVSxPQUFPO0FBQ2hDLGdCQUFRO0FBQ1IsWUFBSSxDQUFDLE1BQU0sR0FBSSxXQUFVO0FBQUEsTUFDM0IsV0FBVyxNQUFNLFVBQVUsV0FBVztBQUNwQyxrQkFBVSxFQUFFLE1BQU0sTUFBTSxNQUFNLE9BQU8sWUFBWSxJQUFJLElBQUksTUFBTSxNQUFNLEtBQUssTUFBTSxJQUFJO0FBQUEsTUFDdEY7QUFBQSxJQUNGO0FBQUEsSUFDQSxNQUFNO0FBQ0osb0JBQWMsS0FBSztBQUNuQixlQUFTLFNBQVMsRUFBRTtBQUFBLElBQ3RCO0FBQUEsRUFDRjtBQUNGOzs7QUMxRU8sU0FBUyxTQUNkLE1BQ0EsV0FDQSxVQUNBLFFBQ0EsYUFDVTtBQUNWLFFBQU0sRUFBRSxLQUFLLElBQUksVUFBVTtBQUUzQixRQUFNLFFBQVEsS0FBSyxPQUFPLElBQUksS0FBSyxJQUFJLElBQUksS0FBSyxJQUFJLEdBQUcsS0FBSyxNQUFNLElBQUksQ0FBQyxFQUFFLE1BQU0sTUFBTSxNQUFNLE1BQU0sQ0FBQyxDQUFDO0FBQ25HLFFBQU0sT0FBTyxTQUFTLE1BQU0sVUFBVSxVQUFVLFFBQVE7QUFDeEQsUUFBTSxRQUFRLGNBQWM7QUFDNUIsTUFBSUUsU0FBUTtBQUVaLFFBQU0sVUFBVSxDQUFDLFVBQThCO0FBQzdDLFFBQUksQ0FBQyxTQUFTLEtBQUssRUFBRyxRQUFPO0FBQzdCLFFBQUksQ0FBQyxVQUFVLFVBQVUsTUFBTSxVQUFVLE1BQU8sUUFBTztBQUN2RCxJQUFBQSxVQUFTO0FBQ1QsV0FBT0EsU0FBUTtBQUFBLEVBQ2pCO0FBRUEsUUFBTSxXQUFXLG9CQUFJLElBQVk7QUFDakMsU0FBTztBQUFBLElBQ0wsT0FBTyxPQUFPO0FBQ1osV0FBSyxLQUFLLEtBQUs7QUFDZixjQUFRLEtBQUssT0FBTyxXQUFXO0FBQy9CLFVBQUksQ0FBQyxTQUFTLFNBQVMsUUFBUSxLQUFLLEtBQU0sVUFBVSxRQUFRLEtBQUssR0FBSztBQUN0RSxZQUFNLE9BQU8sTUFBTSxVQUFVLFNBQVMsU0FBUyxPQUFPLE1BQU0sR0FBRztBQUMvRCxVQUFJLE1BQU0sVUFBVSxVQUFVLE1BQU0sVUFBVSxZQUFZLE1BQU0sUUFBUSxPQUFXLFVBQVMsSUFBSSxNQUFNLEdBQUc7QUFDekcsVUFBSSxTQUFTLE1BQU07QUFDakIsY0FBTSxXQUFXLGNBQWMsT0FBTyxJQUFJO0FBQzFDLGlCQUFTLE1BQU0sS0FBSyxLQUFLLFVBQVUsZ0JBQWdCLFNBQVksV0FBVyxFQUFFLEdBQUcsVUFBVSxZQUFZLENBQUMsQ0FBQyxDQUFDO0FBQUEsTUFDMUcsV0FBVyxNQUFNLFVBQVUsV0FBVztBQUVwQyxZQUFJLENBQUMsU0FBUyxRQUFRLE1BQU0sUUFBUTtBQUNsQyxxQkFBVyxRQUFRLFdBQVcsT0FBTyxVQUFVLElBQUksRUFBRyxVQUFTLEtBQUssSUFBSTtBQUFBLE1BQzVFLFdBQVcsTUFBTSxVQUFVLFVBQVUsTUFBTSxVQUFVLFlBQVksWUFBWSxLQUFLLEdBQUc7QUFDbkYsbUJBQVcsUUFBUSxNQUFNLEtBQUssT0FBTyxNQUFNLFdBQVcsT0FBTyxVQUFVLE1BQU0sS0FBSyxDQUFDLEVBQUcsVUFBUyxNQUFNLElBQUk7QUFBQSxNQUMzRyxXQUFXLE1BQU07QUFBQSxNQUVqQixXQUFXLENBQUMsU0FBUyxTQUFVLE1BQU0sVUFBVSxVQUFVLE1BQU0sVUFBVSxVQUFXO0FBQ2xGLG1CQUFXLFFBQVEsV0FBVyxPQUFPLFVBQVUsTUFBTSxLQUFLLEVBQUcsVUFBUyxNQUFNLElBQUk7QUFBQSxNQUNsRjtBQUFBLElBQ0Y7QUFBQSxJQUNBLE1BQU07QUFDSixXQUFLLElBQUk7QUFDVCxVQUFJLFNBQVMsS0FBTTtBQUNuQixpQkFBVyxRQUFRLE1BQU0sS0FBSyxFQUFHLFVBQVMsTUFBTSxTQUFTLElBQUksSUFBSSxJQUFJLENBQUM7QUFDdEUsVUFBSUEsU0FBUTtBQUNWLGlCQUFTLE1BQU0sU0FBUyxJQUFJLElBQUksZUFBZUEsU0FBUSxXQUFXLDRCQUE0QixDQUFDO0FBQUEsSUFDbkc7QUFBQSxFQUNGO0FBQ0Y7QUFHQSxJQUFNLFVBQVUsQ0FBQyxVQUNmLE1BQU0sVUFBVSxTQUFVLE1BQU0sVUFBVSxVQUFVLE1BQU0sUUFBUTtBQUVwRSxJQUFNLFdBQVcsQ0FBQyxVQUNoQixNQUFNLFVBQVUsUUFBUSxNQUFNLEtBQUssTUFBTSxVQUFVLFVBQVUsTUFBTSxVQUFVLFlBQVksWUFBWSxLQUFLO0FBRTVHLElBQU0sY0FBYyxDQUFDLEVBQUUsS0FBSyxPQUFPLE1BQTBCLFFBQVEsVUFBYSxXQUFXO0FBRzdGLElBQU0sY0FBYztBQUdwQixJQUFNLGNBQWM7QUFDcEIsSUFBTSxZQUFZO0FBR2xCLFNBQVMsZ0JBR1A7QUFDQSxRQUFNLFFBQVEsb0JBQUksSUFBOEU7QUFDaEcsU0FBTztBQUFBLElBQ0wsS0FBSyxPQUFPLE9BQU87QUFDakIsWUFBTSxPQUFPLE1BQU0sU0FBUyxDQUFDLEdBQUcsUUFBUTtBQUN4QyxZQUFNLE1BQU0sR0FBRyxNQUFNLEtBQUssSUFBSSxJQUFJO0FBQ2xDLFVBQUksTUFBTSxRQUFRLGFBQWEsQ0FBQyxNQUFNLElBQUksR0FBRyxFQUFHLFFBQU8sTUFBTTtBQUM3RCxZQUFNLE9BQU8sTUFBTSxJQUFJLEdBQUcsS0FBSyxFQUFFLE9BQU8sTUFBTSxPQUFPLE1BQU0sT0FBTyxFQUFFO0FBQ3BFLFlBQU0sSUFBSSxLQUFLLElBQUk7QUFDbkIsV0FBSyxTQUFTO0FBQ2QsYUFBTyxLQUFLLFNBQVMsY0FBYyxNQUFNLElBQUksQ0FBQztBQUFBLElBQ2hEO0FBQUEsSUFDQSxNQUFNLE1BQ0osQ0FBQyxHQUFHLE1BQU0sT0FBTyxDQUFDLEVBQ2YsT0FBTyxDQUFDLEVBQUUsT0FBQUMsT0FBTSxNQUFNQSxTQUFRLFdBQVcsRUFDekMsSUFBSSxDQUFDLEVBQUUsT0FBTyxNQUFNLE9BQUFBLE9BQU0sTUFBTSxXQUFXLEtBQUssS0FBS0EsU0FBUSxXQUFXLGtCQUFrQixJQUFJLEdBQUc7QUFBQSxFQUN4RztBQUNGOzs7QUw1RUEsZUFBc0IsVUFBVSxTQUFrQixTQUFtQztBQUNuRixRQUFNLEVBQUUsUUFBUSxRQUFRLElBQUk7QUFDNUIsUUFBTSxFQUFFLFFBQVEsT0FBTyxNQUFNLElBQUk7QUFDakMsUUFBTSxVQUFVLGNBQWMsUUFBUSxPQUFPO0FBQzdDLE1BQUksU0FBUztBQUNiLFdBQVMsT0FBTyxHQUFHLFdBQVcsVUFBYSxPQUFPLFFBQVEsUUFBUSxHQUFHO0FBQ25FLFVBQU0sUUFBUSxZQUFZLElBQUk7QUFDOUIsVUFBTSxFQUFFLFFBQVEsS0FBSyxPQUFPLElBQUksTUFBTSxTQUFTLE1BQU0sU0FBUyxTQUFTLE9BQU87QUFDOUUsYUFBUyxNQUFNLFFBQVEsR0FBRztBQUMxQixVQUFNLFNBQVMsVUFBVSxVQUFjLFVBQVUsVUFBVyxRQUFRO0FBRXBFLFFBQUksVUFBVSxVQUFVLEtBQU0sVUFBUztBQUN2QyxRQUFJLFFBQVEsT0FBTyxXQUFXLFVBQVcsT0FBTyxzQkFBc0IsUUFBUSxFQUFJO0FBRWxGLFFBQUksV0FBVyxXQUFXLFVBQWEsT0FBTyxJQUFJLFFBQVMsT0FBTSxLQUFLLFNBQVMsWUFBWSxJQUFJLElBQUksUUFBUSxPQUFPO0FBQ2xILFFBQUksUUFBUSxPQUFPLFFBQVMsUUFBTztBQUFBLEVBQ3JDO0FBQ0EsU0FBTztBQUNUO0FBRUEsSUFBTSxnQkFBZ0IsQ0FBQyxZQUNyQixJQUFJLElBQUksQ0FBQyxHQUFJLFNBQVMsY0FBYyxLQUFLLENBQUMsQ0FBRSxFQUFFLElBQUksQ0FBQyxDQUFDLE9BQU8sSUFBSSxNQUFNLENBQUMsT0FBTyxJQUFJLElBQUksSUFBSSxDQUFDLENBQUMsQ0FBQztBQUc5RixlQUFlLFNBQ2IsTUFDQSxTQUNBLFNBQ0EsU0FDZ0U7QUFDaEUsUUFBTSxFQUFFLE9BQU8sUUFBUSxTQUFTLFFBQVEsSUFBSTtBQUM1QyxNQUFJLFNBQVM7QUFDYixNQUFJLFNBQVM7QUFDYixhQUFXLENBQUMsT0FBTyxJQUFJLEtBQUssTUFBTSxRQUFRLEdBQUc7QUFDM0MsVUFBTUMsVUFBUyxPQUFPLE1BQU0sU0FBUztBQUNyQyxVQUFNLFNBQVMsU0FBUyxXQUFXQSxPQUFNO0FBQ3pDLFVBQU1DLFFBQU8sUUFBUSxRQUFRLEtBQUssS0FBSztBQUN2QyxRQUFJLFdBQVcsTUFBTyxVQUFTLE1BQU0sUUFBUSxDQUFDO0FBQzlDLFFBQUksV0FBVyxVQUFhQSxVQUFTLE9BQVE7QUFDN0MsYUFBUztBQUNULFVBQU0sT0FBT0EsVUFBUyxRQUFRLFNBQVksSUFBSSxJQUFJQSxLQUFJO0FBQ3RELFVBQU0sVUFBVSxNQUFNLFFBQVEsTUFBTUQsU0FBUSxTQUFTLFNBQVMsU0FBUyxJQUFJO0FBQzNFLGFBQVMsTUFBTSxRQUFRLFdBQVcsT0FBTyxDQUFDO0FBQzFDLFFBQUksUUFBUSxPQUFPLFdBQVksT0FBTyxzQkFBc0IsUUFBVTtBQUFBLEVBQ3hFO0FBQ0EsU0FBTyxFQUFFLFFBQVEsT0FBTztBQUMxQjtBQUVBLGVBQWUsUUFDYixNQUNBQSxTQUNBLEVBQUUsV0FBVyxRQUFRLFNBQVMsUUFBUSxZQUFZLEdBQ2xELEVBQUUsVUFBVSxRQUFRLGFBQWEsR0FDakMsU0FDQSxNQUM4QjtBQUM5QixRQUFNLEVBQUUsUUFBUSxJQUFJLElBQUksU0FBUyxNQUFNLFdBQVcsVUFBVSxRQUFRLFdBQVc7QUFDL0UsUUFBTSxFQUFFLEtBQUssSUFBSSxVQUFVO0FBQzNCLFFBQU0sRUFBRSxtQkFBbUIsSUFBSTtBQUMvQixRQUFNLFdBQVcsRUFBRSxRQUFRLFFBQVEsWUFBWSxjQUFjLFFBQUFBLFNBQVEsU0FBUyxNQUFNLG9CQUFvQixRQUFRO0FBQ2hILFFBQU0sVUFBVSxNQUFNLFVBQVUsV0FBVyxNQUFNLFFBQVEsRUFBRSxRQUFRLEdBQUc7QUFDdEUsTUFBSSxVQUFVLGdCQUFnQixPQUFXLFFBQU8sTUFBTSxLQUFLLElBQUk7QUFDL0QsTUFBSSxTQUFTLE1BQU07QUFDakIsVUFBTSxXQUFXLGdCQUFnQixTQUFTLEtBQUssSUFBSTtBQUNuRCxhQUFTLE1BQU0sS0FBSyxLQUFLLFVBQVUsZ0JBQWdCLFNBQVksV0FBVyxFQUFFLEdBQUcsVUFBVSxZQUFZLENBQUMsQ0FBQyxDQUFDO0FBQUEsRUFDMUcsV0FBVyxVQUFVLE9BQVEsVUFBUyxNQUFNLFFBQVEsU0FBUyxLQUFLLE1BQU0sUUFBUSxDQUFDO0FBQUEsTUFDNUUsVUFBUyxNQUFNLFlBQVksU0FBUyxLQUFLLE1BQU0sVUFBVSxJQUFJLENBQUM7QUFDbkUsTUFBSSxRQUFRLFNBQVMsQ0FBQyxTQUFTLEtBQU0sVUFBUyxTQUFTLGFBQWEsUUFBUSxPQUFPLFNBQVMsS0FBSyxJQUFJLENBQUM7QUFDdEcsU0FBTyxRQUFRO0FBQ2pCO0FBR0EsZUFBZSxLQUFLLElBQVksRUFBRSxVQUFVLE9BQU8sR0FBMkI7QUFDNUUsUUFBTSxRQUFRLFlBQVksSUFBSSxJQUFJO0FBQ2xDLE1BQUksS0FBSyxJQUFNLFVBQVMsS0FBSyxTQUFTLElBQUksSUFBSSxZQUFZLGFBQWEsRUFBRSxDQUFDLEVBQUUsQ0FBQztBQUM3RSxTQUFPLENBQUMsT0FBTyxXQUFXLFlBQVksSUFBSSxJQUFJLE9BQU87QUFDbkQsVUFBTSxPQUFPLFFBQVEsWUFBWSxJQUFJO0FBQ3JDLFVBQU0sV0FBVyxLQUFLLElBQUksTUFBTSxHQUFJLEdBQUcsUUFBVyxFQUFFLE9BQU8sQ0FBQyxFQUFFLE1BQU0sTUFBTSxNQUFTO0FBQUEsRUFDckY7QUFDRjtBQUdPLFNBQVMsTUFBTSxLQUFhLE9BQXVCO0FBQ3hELFFBQU0sUUFBUSxDQUFDLEdBQUcsR0FBRyxHQUFHLEdBQUcsR0FBRyxHQUFHO0FBQ2pDLFNBQU8sTUFBTSxRQUFRLEdBQUcsS0FBSyxNQUFNLFFBQVEsS0FBSyxJQUFJLE1BQU07QUFDNUQ7OztBTXRHTyxJQUFNLFNBQWlCO0FBQUEsRUFDNUIsU0FBUyxRQUFRO0FBQUEsRUFDakIsTUFBTSxLQUFLO0FBQ1QsUUFBSSxRQUFRLFFBQVEsSUFBSyxRQUFPO0FBQ2hDLFFBQUk7QUFDRixjQUFRLEtBQUssS0FBSyxDQUFDO0FBQ25CLGFBQU87QUFBQSxJQUNULFNBQVMsT0FBTztBQUNkLGFBQVEsTUFBZ0MsU0FBUztBQUFBLElBQ25EO0FBQUEsRUFDRjtBQUNGO0FBR0EsZUFBc0IsVUFDcEIsU0FDQSxPQUNBLFNBQ0EsUUFDaUI7QUFDakIsUUFBTSxFQUFFLFdBQVcsT0FBTyxRQUFRLFlBQVksSUFBSTtBQUNsRCxRQUFNLEVBQUUsU0FBUyxJQUFJO0FBQ3JCLFlBQVUsY0FBYztBQUFBLElBQ3RCLE9BQU8sTUFBTSxRQUFRLENBQUMsRUFBRSxNQUFNLE1BQU0sS0FBSyxFQUFFLE9BQU8sQ0FBQyxLQUFLLEVBQUUsUUFBUSxNQUFNLE1BQU0sU0FBUyxDQUFDO0FBQUEsSUFDeEYsTUFBTSxNQUFNLEtBQUssQ0FBQyxFQUFFLEtBQUssTUFBTSxTQUFTLE1BQVM7QUFBQSxFQUNuRCxDQUFDO0FBQ0QsTUFBSTtBQUNGLFVBQU0sWUFBWSxXQUFXLE9BQU8sUUFBUSxNQUFNO0FBQUEsRUFDcEQsU0FBUyxPQUFPO0FBQ2QsVUFBTSxVQUFVLFVBQVUsS0FBSztBQUMvQixRQUFJLGdCQUFnQixVQUFhLFFBQVEsV0FBVyxZQUFhLE9BQU07QUFDdkUsWUFBUSxRQUFRLFFBQVEsYUFBYSxPQUFPO0FBQzVDLGFBQVMsU0FBUyxhQUFhLFNBQVMsU0FBUyxLQUFLLFVBQVUsU0FBUyxJQUFJLENBQUM7QUFDOUUsV0FBTyxXQUFXLE9BQU87QUFBQSxFQUMzQjtBQUNBLFFBQU0sVUFBVSxPQUFPLFNBQVMsU0FBWSxNQUFNLFFBQVEsV0FBVyxRQUFRLE1BQU0sT0FBTyxPQUFPLFFBQVEsTUFBTTtBQUMvRyxNQUFJO0FBQ0YsV0FBTyxNQUFNLFVBQVUsRUFBRSxHQUFHLFNBQVMsU0FBUyxTQUFTLE1BQU0sUUFBUSxHQUFHLE9BQU87QUFBQSxFQUNqRixVQUFFO0FBQ0EsVUFBTSxTQUFTLE1BQU07QUFDckIsVUFBTSxRQUFRLFFBQVE7QUFBQSxFQUN4QjtBQUNGO0FBRU8sU0FBUyxXQUNkLFFBQ0EsRUFBRSxTQUFTLEdBQ1gsTUFDTTtBQUNOLE1BQUksQ0FBQyxPQUFRO0FBQ2IsTUFBSSxTQUFTLEtBQU0sVUFBUyxNQUFNLEtBQUssS0FBSyxVQUFVLGVBQWUsT0FBTyxPQUFPLENBQUMsQ0FBQyxDQUFDLENBQUM7QUFBQSxNQUNsRixVQUFTLE1BQU07QUFBQSxFQUFLLFdBQVcsT0FBTyxPQUFPLEdBQUcsVUFBVSxJQUFJLENBQUMsRUFBRTtBQUN4RTs7O0FDakRBLGVBQXNCLFlBQVksU0FBa0IsS0FBYSxRQUFvQztBQUNuRyxRQUFNLEVBQUUsS0FBSyxRQUFRLE1BQU0sSUFBSSxNQUFNLFFBQVEsU0FBUyxLQUFLLE1BQU07QUFDakUsUUFBTSxFQUFFLE1BQU0sT0FBTyxJQUFJLE1BQU07QUFDL0IsUUFBTSxRQUFRLE1BQU0sVUFBVSxJQUFJLFdBQVcsTUFBTSxPQUFPLEVBQUUsTUFBTSxPQUFPLENBQUM7QUFDMUUsTUFBSSxVQUFVLGNBQWMsTUFBTSxRQUFRLENBQUMsRUFBRSxNQUFNLE1BQU0sS0FBSyxDQUFDO0FBQy9ELFFBQU0sU0FBUyxPQUFPLFNBQVMsV0FBVyxTQUFTLElBQUk7QUFDdkQsUUFBTSxVQUFVLEVBQUUsR0FBRyxLQUFLLE9BQU8sUUFBUSxRQUFRLGFBQWEsT0FBVTtBQUN4RSxNQUFJO0FBQ0osTUFBSSxPQUFPLFdBQVcsUUFBVztBQUMvQixlQUFXLFFBQVEsTUFBTTtBQUN6QixhQUFTLE1BQU0sVUFBVSxTQUFTLE9BQU8sU0FBUyxNQUFNO0FBQUEsRUFDMUQsT0FBTztBQUNMLFVBQU0sUUFBUSxZQUFZLE9BQU8sTUFBTTtBQUN2QyxRQUFJLE1BQU0sTUFBTSxDQUFDRSxVQUFTQSxVQUFTLE1BQU0sR0FBRztBQUMxQyxjQUFRLFNBQVMsS0FBSyx5QkFBeUIsT0FBTyxPQUFPLEdBQUcsRUFBRTtBQUNsRSxhQUFPO0FBQUEsSUFDVDtBQUNBLFVBQU0sVUFBVSxFQUFFLE1BQU0sUUFBUSxRQUFRLEdBQUcsT0FBTyxHQUFHLE1BQU07QUFDM0QsYUFBUyxNQUFNLFVBQVUsU0FBUyxFQUFFLEdBQUcsT0FBTyxRQUFRLEdBQUcsT0FBTztBQUFBLEVBQ2xFO0FBQ0EsYUFBVyxRQUFRLFNBQVMsSUFBSSxVQUFVLFNBQVMsSUFBSTtBQUN2RCxTQUFPO0FBQ1Q7QUFFQSxlQUFlLFFBQ2IsU0FDQSxLQUNBLFFBQzJEO0FBQzNELFFBQU0sRUFBRSxLQUFLLElBQUk7QUFDakIsTUFBSSxRQUFRLFFBQVEsUUFBUSxRQUFXO0FBQ3JDLFVBQU0sSUFBSSxRQUFRLFNBQVMsRUFBRSxNQUFNLHdDQUF3QyxRQUFRLGVBQWUsQ0FBQztBQUFBLEVBQ3JHO0FBQ0EsUUFBTSxhQUFhLE1BQU0sUUFBUSxXQUFXO0FBQzVDLFFBQU0sV0FBVyxhQUFhO0FBQzlCLFFBQU0sRUFBRSxRQUFRLE1BQU0sSUFBSSxNQUFNLFdBQVcsV0FBVyxPQUFPLE1BQU0sS0FBSyxRQUFRO0FBQ2hGLFFBQU0sV0FBVyxJQUFJLElBQUksQ0FBQyxHQUFHLE1BQU0sVUFBVSxHQUFHLFdBQVcsUUFBUSxRQUFRLE9BQU8sQ0FBQyxDQUFDLENBQUMsQ0FBQztBQUN0RixRQUFNLE1BQU0sTUFBTSxPQUFPLFNBQVMsUUFBUSxFQUFFLGFBQWEsTUFBTSxhQUFhLFVBQVUsVUFBVSxXQUFXLENBQUM7QUFDNUcsUUFBTSxVQUFVLEVBQUUsR0FBRyxNQUFNLFNBQVMsUUFBUSxPQUFPLFVBQVUsTUFBTSxRQUFRLE9BQU87QUFDbEYsU0FBTyxFQUFFLEtBQUssUUFBUSxPQUFPLEVBQUUsR0FBRyxPQUFPLFVBQVUsUUFBUSxFQUFFO0FBQy9EO0FBRUEsZUFBc0IsWUFBWSxTQUFrQixLQUFhLFFBQW9DO0FBQ25HLFFBQU0sRUFBRSxVQUFVLE9BQU8sSUFBSTtBQUM3QixRQUFNLEVBQUUsS0FBSyxRQUFRLE1BQU0sSUFBSSxNQUFNLFFBQVEsU0FBUyxLQUFLLE1BQU07QUFDakUsYUFBVyxRQUFRLE1BQU07QUFDekIsUUFBTSxFQUFFLFVBQVUsSUFBSTtBQUN0QixRQUFNLEVBQUUsS0FBSyxJQUFJLFVBQVU7QUFDM0IsTUFBSSxPQUFPLE1BQU0sRUFBRSxXQUFXLEdBQUc7QUFDL0IsVUFBTSxPQUFPLEVBQUUsS0FBSyxPQUFPLE9BQU8sS0FBSyxRQUFRLEdBQUcsV0FBVyxFQUFFO0FBQy9ELFFBQUksU0FBUyxLQUFNLFVBQVMsTUFBTSxLQUFLLFVBQVUsb0JBQW9CLElBQUksQ0FBQyxDQUFDO0FBQUEsUUFDdEUsVUFBUyxLQUFLLE9BQU8sS0FBSyxHQUFHLHdDQUF3QztBQUMxRSxXQUFPO0FBQUEsRUFDVDtBQUNBLFlBQVUsY0FBYyxFQUFFLE9BQU8sT0FBTyxNQUFNLEVBQUUsUUFBUSxNQUFNLE1BQU0sQ0FBQztBQUNyRSxRQUFNLFVBQVUsTUFBTSxRQUFRLFdBQVcsUUFBUSxNQUFNLFFBQVcsT0FBTyxRQUFRLE1BQU07QUFDdkYsTUFBSTtBQUNGLFVBQU0sVUFBVSxNQUFNO0FBQUEsTUFDcEI7QUFBQSxNQUNBO0FBQUEsTUFDQTtBQUFBLE1BQ0EsQ0FBQyxVQUFVO0FBQ1QsWUFBSSxTQUFTLEtBQU0sVUFBUyxNQUFNLEtBQUssS0FBSyxVQUFVLGNBQWMsT0FBTyxJQUFJLENBQUMsQ0FBQyxDQUFDO0FBQUEsWUFDN0UsWUFBVyxRQUFRLFdBQVcsT0FBTyxVQUFVLElBQUksRUFBRyxVQUFTLE1BQU0sSUFBSTtBQUFBLE1BQ2hGO0FBQUEsTUFDQTtBQUFBLElBQ0Y7QUFDQSxRQUFJLFNBQVMsS0FBTSxVQUFTLE1BQU0sS0FBSyxVQUFVLG9CQUFvQixPQUFPLENBQUMsQ0FBQztBQUFBLFNBQ3pFO0FBQ0gsWUFBTSxPQUFPLFFBQVEsWUFBWSxJQUFJLEtBQUssU0FBUyxJQUFJLElBQUksR0FBRyxRQUFRLFNBQVMsTUFBTSxDQUFDLEtBQUs7QUFDM0YsZUFBUyxNQUFNLE9BQU8sUUFBUSxHQUFHLEtBQUssUUFBUSxNQUFNLFVBQVUsSUFBSSxFQUFFO0FBQUEsSUFDdEU7QUFDQSxXQUFPLE9BQU8sVUFBVSxNQUFNLFFBQVEsWUFBWSxJQUFJLElBQUk7QUFBQSxFQUM1RCxVQUFFO0FBQ0EsVUFBTSxRQUFRLE1BQU07QUFBQSxFQUN0QjtBQUNGOzs7QUNyRU8sU0FBU0MsWUFBVyxTQUEyQjtBQUNwRCxTQUFPLFFBQ0osT0FBTyxtQkFBbUIsb0RBQW9ELEVBQzlFLE9BQU8saUJBQWlCLGtGQUFrRixFQUMxRyxPQUFPLHNCQUFzQix1REFBdUQsRUFDcEYsT0FBTywyQkFBMkIsMERBQTBELEVBQzVGLE9BQU8sYUFBYSxvRkFBb0YsRUFDeEcsT0FBTyxxQkFBcUIsdUJBQXVCLEVBQ25ELE9BQU8sc0JBQXNCLHNEQUFzRCxFQUNuRixPQUFPLHFCQUFxQiw4RUFBOEUsRUFDMUcsT0FBTyxZQUFZLG9FQUFvRSxFQUN2RixPQUFPLFlBQVksOENBQThDLEVBQ2pFLE9BQU8sa0JBQWtCLHdFQUF3RSxFQUNqRyxPQUFPLHFCQUFxQixnQ0FBZ0MsRUFDNUQsT0FBTyxnQkFBZ0Isa0RBQWtEO0FBQzlFO0FBRU8sU0FBUyxVQUFVLFNBQWtDLE9BQXFDO0FBQy9GLFFBQU0sT0FBTyxDQUFDLFNBQXFDLFFBQVEsSUFBSTtBQUMvRCxRQUFNLE9BQU8sQ0FBQyxTQUEwQixRQUFRLElBQUksTUFBTTtBQUMxRCxRQUFNQyxVQUFTLENBQUMsTUFBYyxhQUM1QixLQUFLLElBQUksTUFBTSxTQUFZLFNBQVksWUFBWSxLQUFLLElBQUksR0FBYSxVQUFVLEVBQUUsT0FBTyxFQUFFLENBQUM7QUFDakcsUUFBTSxTQUFvQjtBQUFBLElBQ3hCLE1BQU0sS0FBSyxNQUFNO0FBQUEsSUFDakIsUUFBUUEsUUFBTyxVQUFVLFdBQVc7QUFBQSxJQUNwQyxjQUFjLEtBQUssY0FBYztBQUFBLElBQ2pDLFFBQVEsS0FBSyxRQUFRO0FBQUEsSUFDckIsUUFBUSxLQUFLLFFBQVE7QUFBQSxJQUNyQixvQkFBb0IsS0FBSyxvQkFBb0I7QUFBQSxJQUM3QyxRQUFRQSxRQUFPLFVBQVUsVUFBVSxNQUFNLEtBQUssT0FBTyxNQUFNLFNBQVksSUFBSTtBQUFBLElBQzNFLE9BQU8sUUFBUSxLQUFLLE9BQU8sQ0FBQztBQUFBLElBQzVCLE9BQU8sUUFBUSxLQUFLLE9BQU8sQ0FBQztBQUFBLElBQzVCLFFBQVEsS0FBSyxRQUFRO0FBQUEsSUFDckIsUUFBUSxLQUFLLFFBQVE7QUFBQSxJQUNyQixVQUFVLEtBQUssVUFBVTtBQUFBLElBQ3pCLE1BQU0sS0FBSyxNQUFNO0FBQUEsRUFDbkI7QUFDQSxRQUFNQyxXQUFXLENBQUMsVUFBVSxZQUFZLE1BQU0sRUFBWSxPQUFPLENBQUMsU0FBUyxPQUFPLElBQUksTUFBTSxNQUFTO0FBQ3JHLFFBQU0sQ0FBQyxLQUFLLElBQUlBO0FBQ2hCLE1BQUlBLFNBQVEsU0FBUyxHQUFHO0FBQ3RCLFVBQU0sSUFBSSxRQUFRLFNBQVMsRUFBRSxNQUFNLEdBQUdBLFNBQVEsSUFBSSxNQUFNLEVBQUUsS0FBSyxPQUFPLENBQUMsMEJBQTBCLENBQUM7QUFBQSxFQUNwRztBQUNBLE1BQUksVUFBVSxVQUFhLE1BQU0sV0FBVyxHQUFHO0FBQzdDLFVBQU0sSUFBSSxRQUFRLFNBQVM7QUFBQSxNQUN6QixNQUFNO0FBQUEsTUFDTixRQUFRO0FBQUEsSUFDVixDQUFDO0FBQUEsRUFDSDtBQUNBLE1BQUksVUFBVSxVQUFhLE1BQU0sU0FBUyxHQUFHO0FBQzNDLFVBQU0sSUFBSSxRQUFRLFNBQVM7QUFBQSxNQUN6QixNQUFNLEdBQUcsT0FBTyxLQUFLLENBQUM7QUFBQSxNQUN0QixRQUFRLFNBQVMsTUFBTSxLQUFLLEdBQUcsQ0FBQztBQUFBLElBQ2xDLENBQUM7QUFBQSxFQUNIO0FBQ0EsUUFBTSxNQUFPLENBQUMsUUFBUSxVQUFVLFNBQVMsT0FBTyxFQUFZLEtBQUssQ0FBQyxTQUFTLEtBQUssSUFBSSxNQUFNLE1BQVM7QUFDbkcsTUFBSSxVQUFVLFVBQWEsUUFBUSxRQUFXO0FBQzVDLFVBQU0sSUFBSSxRQUFRLFNBQVM7QUFBQSxNQUN6QixNQUFNLEtBQUssR0FBRyxrQkFBa0IsT0FBTyxLQUFLLENBQUM7QUFBQSxNQUM3QyxRQUFRO0FBQUEsSUFDVixDQUFDO0FBQUEsRUFDSDtBQUNBLE1BQUksT0FBTyxXQUFXLFVBQVUsWUFBWSxVQUFVLFNBQVM7QUFDN0QsVUFBTSxJQUFJLFFBQVEsU0FBUyxFQUFFLE1BQU0saUJBQWlCLE9BQU8sS0FBSyxDQUFDLDBCQUEwQixDQUFDO0FBQUEsRUFDOUY7QUFDQSxNQUFJLE9BQU8sVUFBVSxVQUFhLEtBQUssT0FBTyxNQUFNLFVBQWEsS0FBSyxRQUFRLE1BQU0sUUFBVztBQUM3RixVQUFNLElBQUksUUFBUSxTQUFTLEVBQUUsTUFBTSx3Q0FBd0MsQ0FBQztBQUFBLEVBQzlFO0FBQ0EsU0FBTztBQUNUO0FBRUEsSUFBTSxTQUFTLENBQUMsU0FBeUIsS0FBSyxLQUFLLFFBQVEsVUFBVSxDQUFDLFdBQVcsSUFBSSxPQUFPLFlBQVksQ0FBQyxFQUFFLENBQUM7QUFFNUcsU0FBUyxRQUFRLE1BQWtDO0FBQ2pELE1BQUksU0FBUyxPQUFXLFFBQU87QUFDL0IsUUFBTSxRQUFRLGNBQWMsSUFBSTtBQUNoQyxNQUFJLFVBQVUsVUFBYSxRQUFRLEVBQUcsUUFBTztBQUM3QyxRQUFNLElBQUksUUFBUSxTQUFTLEVBQUUsTUFBTSxrRUFBa0UsSUFBSSxHQUFHLENBQUM7QUFDL0c7QUFFQSxTQUFTLFFBQVEsTUFBOEM7QUFDN0QsTUFBSSxTQUFTLFVBQWEsU0FBUyxRQUFRLFNBQVMsU0FBVSxRQUFPO0FBQ3JFLFFBQU0sSUFBSSxRQUFRLFNBQVMsRUFBRSxNQUFNLG1DQUFtQyxJQUFJLEdBQUcsQ0FBQztBQUNoRjs7O0FDN0ZBLGVBQXNCLFVBQVUsU0FBa0IsT0FBMEIsUUFBb0M7QUFDOUcsUUFBTSxFQUFFLFNBQVMsSUFBSTtBQUNyQixRQUFNLGVBQWUsUUFBUSxRQUFRLEtBQUssTUFBTSxHQUFHLEVBQUUsSUFBSSxDQUFDLFNBQVMsS0FBSyxLQUFLLENBQUMsS0FBSyxDQUFDLE1BQVM7QUFDN0YsUUFBTSxVQUFVLGFBQWEsU0FBUztBQUN0QyxRQUFNLFNBQVMsT0FBTyxVQUFVLFVBQVUsV0FBVyxTQUFTLElBQUk7QUFDbEUsUUFBTSxNQUE2RCxDQUFDO0FBQ3BFLGFBQVcsZUFBZSxjQUFjO0FBQ3RDLFVBQU0sTUFBTSxNQUFNLE9BQU8sU0FBUyxRQUFRLEVBQUUsWUFBWSxDQUFDO0FBQ3pELFVBQU0sUUFBUSxNQUFNLFVBQVUsSUFBSSxXQUFXLE9BQU8sTUFBTTtBQUMxRCxRQUFJLFVBQVUsY0FBYyxNQUFNLFFBQVEsQ0FBQyxFQUFFLE1BQU0sTUFBTSxLQUFLLENBQUM7QUFDL0QsUUFBSSxLQUFLLEVBQUUsR0FBRyxLQUFLLE1BQU0sQ0FBQztBQUFBLEVBQzVCO0FBQ0EsTUFBSSxTQUFTO0FBQ2IsYUFBVyxPQUFPLEtBQUs7QUFDckIsUUFBSSxRQUFRLE9BQU8sUUFBUztBQUM1QixVQUFNLEVBQUUsVUFBVSxZQUFZLElBQUksSUFBSTtBQUN0QyxRQUFJLFdBQVcsQ0FBQyxTQUFTLEtBQU0sVUFBUyxLQUFLLFNBQVMsSUFBSSxLQUFLLGVBQWUsWUFBWSxJQUFJLEVBQUUsQ0FBQztBQUNqRyxVQUFNLEVBQUUsTUFBTSxRQUFRLFFBQVEsT0FBTyxNQUFNLElBQUk7QUFDL0MsVUFBTSxVQUFVLEVBQUUsTUFBTSxRQUFRLFFBQVEsT0FBTyxNQUFNO0FBQ3JELFVBQU0sUUFBa0IsRUFBRSxPQUFPLGFBQWEsWUFBWSxNQUFNLFVBQVUsUUFBUTtBQUNsRixVQUFNLFVBQVUsRUFBRSxHQUFHLEtBQUssUUFBUSxRQUFRLGFBQWEsVUFBVSxZQUFZLE9BQU8sT0FBVTtBQUM5RixhQUFTLE1BQU0sUUFBUSxNQUFNLFVBQVUsU0FBUyxPQUFPLE9BQU8sQ0FBQztBQUMvRCxRQUFJLFFBQVMsU0FBUSxNQUFNLFlBQVksSUFBSTtBQUFBLEVBQzdDO0FBQ0EsYUFBVyxRQUFRLFNBQVMsUUFBUSxTQUFTLEdBQUcsU0FBUyxDQUFDLFNBQVMsS0FBSztBQUN4RSxTQUFPO0FBQ1Q7OztBQ2pDTyxJQUFNLEVBQUUsVUFBVSxJQUFtQjtBQUFBLEVBQzFDLFVBQVUsU0FBUyxLQUFLO0FBQ3RCLFlBQVEsU0FBUyxjQUFjLGtFQUFrRTtBQUNqRyxJQUFBQyxZQUFXLE9BQU8sRUFBRTtBQUFBLE1BQ2xCLElBQUksT0FBTyxTQUFTLE9BQU8sWUFBWTtBQUNyQyxjQUFNLFNBQVMsVUFBVSxTQUFTLEtBQUs7QUFDdkMsWUFBSSxPQUFPLFNBQVMsT0FBVyxRQUFPLFlBQVksU0FBUyxPQUFPLE1BQU0sTUFBTTtBQUM5RSxjQUFNQyxXQUFVLE9BQU8sVUFBVSxPQUFPO0FBQ3hDLFlBQUlBLGFBQVksT0FBVyxRQUFPLFlBQVksU0FBU0EsVUFBUyxNQUFNO0FBQ3RFLGVBQU8sVUFBVSxTQUFTLE9BQU8sTUFBTTtBQUFBLE1BQ3pDLENBQUM7QUFBQSxJQUNIO0FBQ0EsYUFBUyxTQUFTO0FBQUEsTUFDaEIsQ0FBQyxrQkFBa0IsMkJBQTJCO0FBQUEsTUFDOUMsQ0FBQywyQ0FBMkMsNkNBQTZDO0FBQUEsTUFDekYsQ0FBQyxnQ0FBZ0MsdUNBQXVDO0FBQUEsTUFDeEUsQ0FBQyx5Q0FBeUMsb0RBQW9EO0FBQUEsTUFDOUYsQ0FBQyxxQkFBcUIsNkRBQTZEO0FBQUEsSUFDckYsQ0FBQztBQUFBLEVBQ0g7QUFDRjsiLAogICJuYW1lcyI6IFsic2hvd24iLCAiYXQiLCAiam9pbiIsICJyZWNvcmRlciIsICJwcm9jZXNzIiwgImF0IiwgInByb2Nlc3MiLCAiYXQiLCAiZmlyc3QiLCAiam9pbiIsICJhdCIsICJhdCIsICJ1bmRvT25lIiwgImtlcHQiLCAia2VwdCIsICJhdCIsICJjb3VudCIsICJzaG93biIsICJyZXN0IiwgImtlcHQiLCAiY291bnQiLCAiYXQiLCAiYXQiLCAicGF0aWVuY2UiLCAic2hvd24iLCAibW9zdERldmlhdGlvbnMiLCAicGF0aWVuY2UiLCAibnVtYmVyIiwgInRhYmxlIiwgImF0IiwgIm51bWJlciIsICJwYXRpZW5jZSIsICJwYXRpZW5jZSIsICJjb3VudCIsICJzaG93biIsICJjb3VudCIsICJudW1iZXIiLCAicGFydCIsICJwYXJ0IiwgInJ1bk9wdGlvbnMiLCAibnVtYmVyIiwgImVhcmxpZXIiLCAicnVuT3B0aW9ucyIsICJlYXJsaWVyIl0KfQo=
