/** From plans to their end: what can be known ahead is looked at, the journal is opened, all is walked. */
import { demandNames } from '../../core/check/names-ahead.js';
import { asProblem } from '../../core/problem/problem.js';
import { demandAhead } from '../../core/run/ahead.js';
import type { Before } from '../../core/run/journal/before.js';
import type { MatrixMaker } from '../../core/run/matrix.js';
import { openRun, type RunOrder, type Worker } from '../../core/run/open-run.js';
import type { Context } from '../context.js';
import { exitStatus } from '../exit-status.js';
import { isGone, processStart } from '../terminal/processes.js';
import { problemLines } from '../view/problem.js';
import { matrixDocument } from '../view/run/run-documents.js';
import { matrixText } from '../view/run/run-summary.js';
import type { Opened } from './opened.js';
import { type Walking, walkPlans } from './walk-plans.js';

export const worker: Worker = {
  process: process.pid,
  alive({ process: pid, since }) {
    if (pid === process.pid) return false;
    if (isGone(pid)) return false;
    // One that began later has only got its number. Clocks are set by a little now and then.
    const began = processStart(pid);
    return began === undefined || began <= since + 10_000;
  },
};

/** Of several environments, one that is not there is a result. @param before of the run that is gone on with */
export async function walkAhead(
  walking: Omit<Walking, 'journal' | 'options'> & Opened,
  order: RunOrder,
  context: Context,
  before?: Before,
): Promise<number> {
  const { workspace, plans, wishes, environment } = walking;
  const { terminal } = context;
  workspace.expectChanges({
    calls: plans.flatMap(({ steps }) => steps).reduce((sum, { changes }) => sum + changes, 0),
    rows: plans.some(({ rows }) => rows !== undefined),
  });
  // A dry run tells each by its step.
  if (!wishes.dryRun) demandNames(workspace, plans, order.options.rows);
  try {
    await demandAhead(workspace, plans, context.signal);
  } catch (error) {
    const problem = asProblem(error);
    if (environment === undefined || problem.family !== 'no-answer') throw error;
    walking.matrix?.missing(environment, problem);
    terminal.complain(problemLines(problem, terminal.err, workspace.redactor.hide));
    return exitStatus(problem);
  }
  const journal = wishes.dryRun ? undefined : await openRun(workspace, context.home, plans, order, worker, before);
  try {
    return await walkPlans({ ...walking, journal, options: order.options }, context);
  } finally {
    await journal?.close();
    await walking.written();
  }
}

export function tellMatrix(
  matrix: MatrixMaker | undefined,
  { terminal }: Context,
  hide: (text: string) => string,
): void {
  if (!matrix) return;
  if (terminal.json) terminal.document(matrixDocument(matrix.matrix()));
  else terminal.print(`\n${matrixText(matrix.matrix(), terminal, hide)}`);
}
