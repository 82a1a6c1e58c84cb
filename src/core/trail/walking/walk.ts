/** The engine: a trail once, or once a row, so many at once; undo parts after, sessions closed last. */
import { setMaxListeners } from 'node:events';
import { Problem } from '../../problem/problem.js';
import { graver } from '../../problem/severity.js';
import type { Workspace } from '../../sending/workspace.js';
import type { Summary, WalkEvent } from '../events.js';
import type { Scope } from '../names/scope.js';
import { fromCommandLine, startScope } from '../names/start-scope.js';
import type { TrailPlan, Walk } from '../step-kind.js';
import { closeSessions } from './closing.js';
import { count, newTally, summaryOf } from './tally.js';
import { walkWithUndo } from './undoing.js';
import { walkRows } from './walk-rows.js';
import type { WalkSettings } from './walk-settings.js';
import { walkSteps } from './walk-steps.js';

/** Where something is sent, nothing is assumed. */
const nothing: Set<string> = new Set();

/**
 * Walks a trail, once or once a row. What fails on the way is in the summary.
 * @throws Problem: an input that is missing, rows that cannot be read
 */
export async function walkTrail(workspace: Workspace, plan: TrailPlan, settings: WalkSettings): Promise<Summary> {
  const started = performance.now();
  const { journal, number = 0 } = settings;
  const tally = newTally();
  // What an earlier command could not say of its calls is still not known.
  tally.inDoubt.push(...(journal?.doubtsBefore(number) ?? []));
  const patience = { ...workspace.patience };
  const tableFiles = new Set(settings.tablesElsewhere);
  const stop = new AbortController();
  const { signal } = settings;
  const ending = settings.stopAtFirstFailure ? AbortSignal.any([signal, stop.signal]) : signal;
  // Each row and each item that waits listens.
  if (ending !== signal) setMaxListeners(0, ending);
  const report = (event: WalkEvent): void => {
    count(event, tally);
    settings.report(event);
    if (settings.stopAtFirstFailure && event.event === 'step' && event.state === 'failed') stop.abort();
  };
  workspace.onSessionOpened = (name) => report({ event: 'session-opened', name, problem: undefined });
  workspace.onWait = (wait) => report({ event: 'waiting', ...wait });
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
    doubt(call) {
      tally.inDoubt.push(call);
      journal?.doubt(number, call);
    },
    journal,
    table: plan.table,
    assumed: workspace.dryRun ? new Set() : nothing,
    last: { cells: {} },
    tableFiles,
    handled: settings.handled ?? new Map(),
    remember: settings.remember,
    report,
    steps: walkSteps,
  });
  try {
    if (plan.rows)
      await walkRows(plan, plan.rows, workspace, walkOf, tally, { ...settings, report }, ending, tableFiles);
    else {
      const walk = walkOf(startScope(plan, workspace, fromCommandLine(workspace)));
      const walked = await walkWithUndo(plan, walk, settings.undoSignal);
      if (walked.problem) tally.problem = graver(tally.problem, walked.problem);
      // What was taken back is not gone on with.
      if (signal.aborted && walked.takenBack) await journal?.walked(number, false);
    }
  } finally {
    await closeSessions(workspace, report);
    workspace.onSessionOpened = undefined;
    workspace.onWait = undefined;
  }
  const interrupted = settings.signal.aborted;
  if (interrupted) tally.problem = new Problem('interrupted', { what: 'interrupted' });
  // Where rows were not begun any more, there is something left to go on with.
  else if (!(plan.rows && ending.aborted)) await journal?.walked(number, tally.problem === undefined);
  return summaryOf(tally, {
    run: journal?.run ?? workspace.log.run,
    interrupted,
    time: performance.now() - started,
    hasRows: plan.rows !== undefined,
    patience: {
      refused: workspace.patience.refused - patience.refused,
      triedAgain: workspace.patience.triedAgain - patience.triedAgain,
      waited: workspace.patience.waited - patience.waited,
    },
  });
}
