/** The engine: steps in order, rows at once, undo parts after, sessions closed last. */
import type { Named } from '../expression/names.js';
import { shortText } from '../matcher/reading.js';
import { asProblem, Problem } from '../problem/problem.js';
import type { Summary, UndoState, WalkEvent } from './events.js';
import { walkEvaluation } from './giving.js';
import type { PreparedRequest } from './prepare.js';
import { type Row, readRows } from './rows.js';
import type { Scope } from './scope.js';
import { startScope } from './start-scope.js';
import type { ArmedUndo, PlannedStep, StepResult, TrailPlan, Walk } from './step-kind.js';
import { send } from './steps/send.js';
import type { Workspace } from './workspace.js';

export interface WalkSettings {
  readonly report: (event: WalkEvent) => void;
  /** Ends the walk; undo parts run after it. */
  readonly signal: AbortSignal;
  /** Ends the undo parts too. */
  readonly undoSignal?: AbortSignal | undefined;
  /** Called before each row, so that a view can show how far it is. */
  readonly onRow?: ((row: number) => void) | undefined;
}

/** Mutable counts of one walk. */
interface Tally {
  rows: { ok: number; failed: number };
  steps: { ok: number; failed: number; skipped: number };
  expectations: { met: number; failed: number };
  undone: number;
  notUndone: number;
  inDoubt: string[];
  ended: Problem | undefined;
  problem: Problem | undefined;
}

/** In the order of the exit statuses: what is graver decides. */
const gravity: readonly Problem['family'][] = [
  'failed-expectation',
  'no-answer',
  'refused',
  'wrong-input',
  'fault',
  'interrupted',
];

function graver(one: Problem | undefined, other: Problem): Problem {
  return one && gravity.indexOf(one.family) >= gravity.indexOf(other.family) ? one : other;
}

/**
 * Walks a trail, once or once a row. What fails on the way is in the summary.
 * @throws Problem: an input that is missing, rows that cannot be read
 */
export async function walkTrail(workspace: Workspace, plan: TrailPlan, settings: WalkSettings): Promise<Summary> {
  const started = performance.now();
  const tally: Tally = {
    rows: { ok: 0, failed: 0 },
    steps: { ok: 0, failed: 0, skipped: 0 },
    expectations: { met: 0, failed: 0 },
    undone: 0,
    notUndone: 0,
    inDoubt: [],
    ended: undefined,
    problem: undefined,
  };
  const report = (event: WalkEvent): void => {
    count(event, tally);
    settings.report(event);
  };
  workspace.onSessionOpened = (name) => report({ event: 'session-opened', name, problem: undefined });
  const fromCommandLine = (input: string): Named | undefined => {
    const value = workspace.settings.get(input);
    return value === undefined ? undefined : { value, origin: '--set' };
  };
  const walkOne = (scope: Scope, row?: number): Promise<Problem | undefined> =>
    walkWithUndo(
      plan,
      {
        workspace,
        scope,
        row,
        depth: 0,
        signal: settings.signal,
        undo: [],
        inDoubt: tally.inDoubt,
        report,
        steps: walkSteps,
      },
      settings.undoSignal,
    );

  if (plan.rows === undefined) {
    const problem = await walkOne(startScope(plan, workspace, fromCommandLine));
    if (problem) tally.problem = graver(tally.problem, problem);
  } else {
    const problem = await walkRows(
      plan,
      readRows(workspace.collection.root, plan.rows)[Symbol.asyncIterator](),
      async (row) => {
        settings.onRow?.(row.number);
        const found = await walkOne(startScope(plan, workspace, fromCommandLine, row), row.number);
        report({
          event: 'row',
          row: row.number,
          ok: found === undefined,
          label: found ? rowLabel(row) : '',
          problem: found,
        });
        if (found) tally.problem = graver(tally.problem, found);
      },
      settings.signal,
    );
    tally.ended = problem;
    if (problem) tally.problem = graver(tally.problem, problem);
  }
  await closeSessions(workspace, report);
  workspace.onSessionOpened = undefined;
  const interrupted = settings.signal.aborted;
  if (interrupted) tally.problem = new Problem('interrupted', { what: 'interrupted' });
  return {
    run: workspace.log.run,
    ok: tally.problem === undefined,
    interrupted,
    rows: plan.rows === undefined ? undefined : tally.rows,
    steps: tally.steps,
    expectations: tally.expectations,
    undone: tally.undone,
    notUndone: tally.notUndone,
    inDoubt: tally.inDoubt,
    time: performance.now() - started,
    ended: tally.ended,
    problem: tally.problem,
  };
}

function count(event: WalkEvent, tally: Tally): void {
  if (event.event === 'step') {
    tally.steps[event.state] += 1;
    for (const { ok } of event.sent?.verdicts ?? []) tally.expectations[ok ? 'met' : 'failed'] += 1;
  } else if (event.event === 'row') tally.rows[event.ok ? 'ok' : 'failed'] += 1;
  else if (event.event === 'undo') {
    if (event.state === 'done') tally.undone += 1;
    if (event.state === 'failed' || event.state === 'impossible') tally.notUndone += 1;
  }
}

const rowLabel = ({ columns }: Row): string => {
  const [first] = Object.values(columns);
  return first === undefined ? '' : shortText(first).replace(/^"|"$/g, '');
};

/** Rows as they come from the stream, so many at once; memory holds only those. What ends the reading is returned. */
async function walkRows(
  plan: TrailPlan,
  rows: AsyncIterator<Row>,
  walkRow: (row: Row) => Promise<void>,
  signal: AbortSignal,
): Promise<Problem | undefined> {
  let fault: Problem | undefined;
  async function walker(): Promise<void> {
    while (!signal.aborted && !fault) {
      const next = await rows.next();
      if (next.done) return;
      await walkRow(next.value);
    }
  }
  const guarded = (): Promise<void> =>
    walker().catch((error: unknown) => {
      fault ??= asProblem(error);
    });
  await Promise.all(Array.from({ length: plan.atOnce }, guarded));
  await rows.return?.();
  return fault;
}

async function walkWithUndo(
  plan: TrailPlan,
  walk: Walk,
  undoSignal: AbortSignal | undefined,
): Promise<Problem | undefined> {
  const problem = await walkSteps(plan, walk);
  const due = plan.undo === 'always' || (plan.undo === 'failure' && problem !== undefined);
  if (due) for (const armed of walk.undo.reverse()) await undoOne(armed, walk, undoSignal);
  return problem;
}

/** Until one fails. Reports each step. */
export async function walkSteps(plan: TrailPlan, walk: Walk): Promise<Problem | undefined> {
  for (const step of plan.steps) {
    if (walk.signal.aborted) return new Problem('interrupted', { what: 'interrupted' });
    const { depth, row } = walk;
    const base = { event: 'step', kind: step.kind, label: step.label, depth, row } as const;
    if (!wanted(step, walk)) {
      walk.report({ ...base, state: 'skipped', sent: undefined, kept: [], problems: [] });
      continue;
    }
    const result = await stepResult(step, walk);
    const [first] = result.problems;
    // What went wrong inside an inner trail is told there.
    walk.report({
      event: 'step',
      kind: step.kind,
      label: step.label,
      depth,
      row,
      state: first ? 'failed' : 'ok',
      sent: result.sent,
      kept: result.kept,
      problems: step.kind === 'trail' ? [] : result.problems,
    });
    if (first) return result.problems.reduce(graver);
  }
  return undefined;
}

async function stepResult(step: PlannedStep, walk: Walk): Promise<StepResult> {
  try {
    return await step.walk(walk);
  } catch (error) {
    return { sent: undefined, kept: [], problems: [asProblem(error)] };
  }
}

function wanted({ when }: PlannedStep, walk: Walk): boolean {
  if (when.length === 0) return true;
  const { names } = walkEvaluation(walk.workspace, walk.scope);
  return when.every(({ name, check }) => check.miss(names.lookup(name)?.value, {}) === undefined);
}

async function undoOne({ step, label, run }: ArmedUndo, walk: Walk, signal: AbortSignal | undefined): Promise<void> {
  const told = (state: UndoState, sent: StepResult['sent'], problem: Problem | undefined): void =>
    walk.report({ event: 'undo', label, step, state, row: walk.row, sent, problem });
  try {
    const { sent, problems } = await run(signal);
    const [problem] = problems;
    // What is gone already need not be taken back.
    const gone = sent?.outcome.received?.status === 404 || sent?.outcome.received?.status === 410;
    told(problem ? (gone ? 'not needed' : 'failed') : 'done', sent, gone ? undefined : problem);
  } catch (error) {
    const problem = asProblem(error);
    told(
      problem.code === 'input-missing' || problem.code === 'unknown-name' ? 'impossible' : 'failed',
      undefined,
      problem,
    );
  }
}

/** Sessions that this walk opened are closed by it, the newest first. */
async function closeSessions(workspace: Workspace, report: (event: WalkEvent) => void): Promise<void> {
  for (const name of [...workspace.sessions.opened]) {
    try {
      await workspace.sessions.close(name);
      report({ event: 'session-closed', name, problem: undefined });
    } catch (error) {
      report({ event: 'session-closed', name, problem: asProblem(error) });
    }
  }
}

/** A request walked as a trail of one step, so that `run` takes both. */
export async function requestAsTrail(workspace: Workspace, prepared: PreparedRequest): Promise<TrailPlan> {
  const { yaml } = prepared.plan;
  const step = await send.plan(
    { send: prepared.plan.name },
    {
      workspace,
      collection: workspace.collection,
      yaml,
      path: [],
      loads: [],
      request: async () => prepared,
      trail: async () => Promise.reject(new Problem('circle', { what: 'a request has no trails' })),
    },
  );
  // Only what the command line names; the request has its defaults itself.
  const inputs = prepared.plan.inputs.filter(({ name }) => workspace.settings.has(name));
  const { name } = prepared.plan;
  const takes = prepared.plan.inputs.map((input) => input.name);
  return { name, steps: [step], takes, inputs, rows: undefined, atOnce: 1, undo: 'never' };
}
