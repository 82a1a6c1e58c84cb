/** The engine: a trail once, or once a row, so many at once; undo parts after, sessions closed last. */
import type { Named } from '../expression/names.js';
import { shortText } from '../matcher/reading.js';
import { asProblem, Problem } from '../problem/problem.js';
import type { ValueMap } from '../value/written.js';
import { closeSessions } from './closing.js';
import type { Summary, WalkEvent } from './events.js';
import { graver } from './gravity.js';
import type { Journal } from './journal/journal.js';
import { manyAtOnce } from './many.js';
import type { Row } from './rows/row-source.js';
import type { RowsPlan } from './rows/rows-plan.js';
import type { Scope } from './scope.js';
import { inputScope, startScope } from './start-scope.js';
import type { Handled, TrailPlan, Walk } from './step-kind.js';
import { cellsOf, openTable, type Table } from './table.js';
import { count, newTally, summaryOf, type Tally } from './tally.js';
import { undoAll } from './undoing.js';
import { walkSteps } from './walk-steps.js';
import type { Workspace } from './workspace.js';

export interface WalkSettings {
  readonly report: (event: WalkEvent) => void;
  /** Ends the walk; undo parts run after it. */
  readonly signal: AbortSignal;
  /** Ends the undo parts too. */
  readonly undoSignal?: AbortSignal | undefined;
  /** Which of the walks of a command it is, from 0. */
  readonly number?: number;
  readonly journal?: Journal | undefined;
  /** Only these rows; all where nothing is said. */
  readonly rows?: ReadonlySet<number> | undefined;
  /** No further row or iteration is begun once one has failed. */
  readonly stopAtFirstFailure?: boolean | undefined;
  /** What `once-by` passes over; kept from one walk to the next. */
  readonly handled?: Handled | undefined;
}

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
  const stop = new AbortController();
  const { signal } = settings;
  const ending = settings.stopAtFirstFailure ? AbortSignal.any([signal, stop.signal]) : signal;
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
    last: { cells: {} },
    handled: settings.handled ?? new Map(),
    report,
    steps: walkSteps,
  });
  try {
    if (plan.rows) await walkRows(plan, plan.rows, workspace, walkOf, tally, { ...settings, report }, ending);
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

const fromCommandLine =
  ({ settings }: Workspace) =>
  (input: string): Named | undefined => {
    const value = settings.get(input);
    return value === undefined ? undefined : { value, origin: '--set' };
  };

async function walkRows(
  plan: TrailPlan,
  rows: RowsPlan,
  workspace: Workspace,
  walkOf: (scope: Scope, row: number, label: string) => Walk,
  tally: Tally,
  { journal, number = 0, rows: only, signal, undoSignal, report }: WalkSettings,
  ending: AbortSignal,
): Promise<void> {
  const given = fromCommandLine(workspace);
  const table = plan.table && (await openTable(plan.table, workspace.collection.root));
  const source = rows.read(workspace, inputScope(plan, workspace, given));
  const ended = await manyAtOnce(
    source[Symbol.asyncIterator](),
    plan.atOnce,
    async (row) => {
      if (only && !only.has(row.number)) return;
      const before = journal?.rowBefore(number, row.number);
      if (before !== undefined) {
        await keptLine(table, row.number, journal, `${number}.${row.number}`);
        tally.rows[before ? 'ok' : 'failed'] += 1;
        tally.rows.before += 1;
        if (!before) tally.problem = graver(tally.problem, failedBefore(row));
        return;
      }
      const label = labelOf(row);
      const walk = walkOf(startScope(plan, workspace, given, row), row.number, label);
      const { problem, takenBack } = await walkRow(plan, walk, row, table, undoSignal);
      // A row that was interrupted is gone on with when the run is resumed, unless it was taken back.
      if (signal.aborted && problem && !takenBack) return;
      report({ event: 'row', row: row.number, ok: !problem, label, problem });
      journal?.row(number, row.number, label, problem);
      if (problem) tally.problem = graver(tally.problem, problem);
    },
    ending,
  );
  tally.ended = ended;
  if (ended) tally.problem = graver(tally.problem, ended);
  if (!plan.table || !table) return;
  if (ending.aborted) return table.abandon();
  const { count: lines, lines: shown } = await table.finish();
  const { to, show, columns } = plan.table;
  const base = { event: 'table', label: plan.name, row: undefined } as const;
  report({ ...base, columns, lines: shown, count: lines, to, show });
}

async function walkRow(
  plan: TrailPlan,
  walk: Walk,
  row: Row,
  table: Table | undefined,
  undoSignal: AbortSignal | undefined,
): Promise<Walked> {
  const walked = await walkWithUndo(plan, walk, undoSignal);
  if (!plan.table || !table) return walked;
  let { problem } = walked;
  let cells: ValueMap;
  try {
    cells = cellsOf(plan.table, walk, problem);
  } catch (error) {
    problem = asProblem(error);
    cells = cellsOf(plan.table, walk, problem);
  }
  walk.journal?.cells(walk.at, cells);
  await table.add(row.number, cells);
  return { ...walked, problem };
}

/** The line that a row left in an earlier command. */
async function keptLine(
  table: Table | undefined,
  number: number,
  journal: Journal | undefined,
  at: string,
): Promise<void> {
  const cells = journal?.cellsBefore(at) as ValueMap | undefined;
  if (table && cells) await table.add(number, cells);
}

const failedBefore = ({ number }: Row): Problem =>
  new Problem('step-failed', { what: `row ${number} failed before the run was resumed` });

/** What a row is told apart by: the value of its first column. */
function labelOf({ columns }: Row): string {
  for (const name in columns) return shortText(columns[name]).replace(/^"|"$/g, '');
  return '';
}

/** What a walk came to, and whether anything of it was taken back. */
interface Walked {
  readonly problem: Problem | undefined;
  readonly takenBack: boolean;
}

async function walkWithUndo(plan: TrailPlan, walk: Walk, undoSignal: AbortSignal | undefined): Promise<Walked> {
  const problem = await walkSteps(plan.steps, walk);
  const due = plan.undo === 'always' || (plan.undo === 'failure' && problem !== undefined);
  const takenBack = due && walk.undo.length > 0;
  if (takenBack) await undoAll(walk, undoSignal);
  return { problem, takenBack };
}
