/** The engine: a trail once, or once a row, so many at once; undo parts after, sessions closed last. */
import { setMaxListeners } from 'node:events';
import { recordedInputs } from '../../echo/record.js';
import type { Named } from '../../expression/names.js';
import type { Patience } from '../../pacing/tries.js';
import { brief } from '../../problem/brief.js';
import { interruption, type Problem } from '../../problem/problem.js';
import type { Workspace } from '../../sending/workspace.js';
import type { WalkEvent } from '../events.js';
import type { Scope } from '../names/scope.js';
import { fromCommandLine, startScope } from '../names/start-scope.js';
import { placedRecord, recordOf } from '../record/record-event.js';
import type { RunRecord, SummaryRecord } from '../record/run-record.js';
import { WalkTotals } from '../record/totals.js';
import { keyDigest } from '../seen-items.js';
import type { TrailPlan, Walk } from '../step-kind.js';
import { closeSessions } from './closing.js';
import { walkWithUndo } from './undoing.js';
import { walkRows } from './walk-rows.js';
import type { WalkSettings } from './walk-settings.js';
import { walkSteps } from './walk-steps.js';

/** Where something is sent, nothing is assumed. */
const nothing: Set<string> = new Set();

/** What a walk came to. */
export interface WalkResult {
  readonly summary: SummaryRecord;
  /** The most severe, which decides the exit status. */
  readonly problem: Problem | undefined;
}

/**
 * Walks a trail, once or once a row. What fails on the way is in the summary.
 * @throws Problem: an input that is missing, rows that cannot be read
 */
export async function walkTrail(workspace: Workspace, plan: TrailPlan, settings: WalkSettings): Promise<WalkResult> {
  const started = performance.now();
  const { journal, number = 0, signal } = settings;
  const totals = new WalkTotals(false);
  // What an earlier command could not say of its calls is still not known.
  for (const call of journal?.doubtsBefore(number) ?? []) totals.take({ event: 'in-doubt', walk: number, call });
  const patience = patienceFrom(workspace.patience);
  const tableFiles = new Set(settings.tablesElsewhere);
  const stop = new AbortController();
  const ending = settings.stopAtFirstFailure ? AbortSignal.any([signal, stop.signal]) : signal;
  // Each row and each item that waits listens.
  if (ending !== signal) setMaxListeners(0, ending);
  const tell = (record: RunRecord): void => {
    totals.take(record);
    journal?.record(record);
    settings.report(record);
  };
  const facts = { walk: number, hiding: workspace.redactor, patience };
  const report = (event: WalkEvent): void => {
    tell(recordOf(event, facts));
    if (settings.stopAtFirstFailure && event.event === 'step' && event.state === 'failed') stop.abort();
  };
  const stopListening = workspace.listeners.add({
    sessionOpened: (name) => report({ event: 'session-opened', name, problem: undefined }),
    waiting: (wait) => report({ event: 'waiting', ...wait }),
  });
  const walkOf = (scope: Scope, row?: number, rowLabel?: string): Walk => ({
    workspace,
    scope,
    row,
    rowLabel,
    at: row === undefined ? String(number) : `${number}.${row}`,
    number,
    way: row === undefined ? plan.name : `${plan.name}.${row}`,
    depth: 0,
    signal,
    ending,
    undo: [],
    journal,
    table: plan.table,
    assumed: workspace.dryRun ? new Set() : nothing,
    last: { cells: {} },
    tableFiles,
    seen: settings.seen ?? new Map(),
    remember: settings.remember,
    report,
    steps: walkSteps,
  });
  tell({
    event: 'walk',
    walk: number,
    walked: plan.name,
    rows: plan.rows?.from ?? null,
    steps: plan.steps.map(({ label }) => label),
  });
  const tellInputs = (given: (name: string) => Named | undefined): void => {
    const names = new Set([...plan.inputs.map(({ name }) => name), ...workspace.settings.keys()]);
    const inputs = recordedInputs(
      [...names].map((name) => [name, given(name)] as const),
      workspace.redactor,
    );
    if (Object.keys(inputs).length > 0) tell({ event: 'inputs', walk: number, inputs });
  };
  let over = false;
  if (settings.countRows)
    void plan.rows?.about().then(
      (about) =>
        about !== undefined &&
        !over &&
        tell({ event: 'rows', walk: number, about: Math.round(about / (settings.part?.of ?? 1)) }),
      () => undefined,
    );
  let problem: Problem | undefined;
  let ended: Problem | undefined;
  try {
    if (plan.rows) {
      tellInputs(fromCommandLine(workspace));
      const reported = { ...settings, report };
      const walked = await walkRows(plan, plan.rows, workspace, walkOf, totals, reported, ending, tableFiles);
      ({ problem, ended } = walked);
      if (walked.part && settings.part) {
        const { part, of } = settings.part;
        const { all, own, source } = walked.part;
        const alike = {
          trail: keyDigest(plan.text),
          environmentFile: keyDigest(workspace.environment.yaml.text),
          program: workspace.userAgent,
        };
        tell({ event: 'part', walk: number, part, of, rows: all, source, own, ...alike });
      }
    } else {
      const scope = startScope(plan, workspace, fromCommandLine(workspace));
      tellInputs((name) => scope.lookup(name) ?? fromCommandLine(workspace)(name));
      const walk = walkOf(scope);
      const walked = await walkWithUndo(plan, walk, settings.undoSignal);
      ({ problem } = walked);
      // A walk that was undone is not resumed.
      if (signal.aborted && walked.takenBack) await journal?.walked(number, false);
    }
  } finally {
    await closeSessions(workspace, report);
    stopListening();
  }
  over = true;
  const interrupted = signal.aborted;
  if (interrupted) problem = interruption();
  // Where rows were not begun any more, there is something left to resume.
  else if (!(plan.rows && ending.aborted)) await journal?.walked(number, problem === undefined);
  const { hide } = workspace.redactor;
  const summary: SummaryRecord = {
    event: 'summary',
    run: journal?.run ?? workspace.log.run,
    walk: number,
    walked: plan.name,
    ok: problem === undefined,
    interrupted,
    ...totals.counted(plan.rows !== undefined),
    ...patience(),
    time: Math.round(performance.now() - started),
    ...(ended && { ended: placedRecord(ended, hide) }),
    problem: problem ? brief(problem, hide) : null,
  };
  tell(summary);
  return { summary, problem };
}

/** What hosts refuse from now on. */
function patienceFrom(patience: Patience): () => Patience {
  const before = { ...patience };
  return () => ({
    throttled: patience.throttled - before.throttled,
    triedAgain: patience.triedAgain - before.triedAgain,
    waited: Math.round(patience.waited - before.waited),
  });
}
