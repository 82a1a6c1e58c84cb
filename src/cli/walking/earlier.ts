/** `run --resume`, `--failed-of` and `--undo`: what an earlier command left, as it was asked for then. */
import { makeRedactor } from '../../core/echo/redactor.js';
import { shortText } from '../../core/matcher/reading.js';
import { Problem } from '../../core/problem/problem.js';
import type { Before } from '../../core/run/journal/before.js';
import { makeMatrix } from '../../core/run/matrix.js';
import { planNames } from '../../core/run/names.js';
import {
  demandIdle,
  demandNotTakenBack,
  earlierRun,
  failedParts,
  openRun,
  type RunOrder,
} from '../../core/run/open-run.js';
import { changedRows, rowsChanged, rowsOfRun, type WalkRows } from '../../core/run/rows-changed.js';
import { doubtsIn, leftOf, type UndoSummary, undoRun } from '../../core/run/undo-run.js';
import type { WalkEvent } from '../../core/trail/events.js';
import { type Context, settingsOf } from '../context.js';
import type { Documents } from '../documents/documents.js';
import { interruptedStatus } from '../exit-status.js';
import type { Terminal } from '../terminal/terminal.js';
import { eventLines } from '../view/run/run.js';
import { eventDocument, undoSummaryDocument } from '../view/run/run-documents.js';
import { listed } from '../view/run/run-summary.js';
import { type Opened, opened } from './opened.js';
import type { RunWishes } from './options.js';
import { tellMatrix, walkAhead, worker } from './walk-ahead.js';

/** `--resume` and `--failed-of`. */
export async function walkEarlier(context: Context, run: string, wishes: RunWishes): Promise<number> {
  const { own, before, order } = await earlier(context, run, wishes);
  const { rows, atOnce } = order.options;
  const plans = await planNames(own.workspace, order.names, { rows, atOnce });
  own.workspace.checkSettings(plans.flatMap(({ takes }) => takes));
  const matrix = wishes.matrix ? makeMatrix(shortText) : undefined;
  const walking = { ...own, plans, wishes, matrix, environment: undefined };
  let status: number;
  if (wishes.resume !== undefined) {
    demandIdle(before, worker);
    demandNotTakenBack(before);
    const left = leftToWalk(before, plans.length, order.options.repeat);
    if (left === 'nothing') return tellNothingLeft(before, context);
    await demandRows(before.header.run, rowsOfRun(plans, before));
    status = await walkAhead(walking, order, context, before);
  } else {
    const parts = await failedParts(own.workspace, plans, before, (told) => context.terminal.note(told));
    if (parts.every((part) => part === 'none')) {
      context.terminal.note(`nothing failed in run ${before.header.run}`);
      return 0;
    }
    const options = { rows, atOnce, repeat: 1, every: 0, parts };
    status = await walkAhead(walking, { ...order, options }, context);
  }
  tellMatrix(matrix, context, own.workspace.redactor.hide);
  return status;

  async function demandRows(of: string, known: readonly WalkRows[]): Promise<void> {
    if (wishes.rowsChanged) return;
    const changes = await rowsChanged(own.workspace, known);
    if (changes === undefined) return;
    const problem = changedRows(of, changes);
    const { terminal } = context;
    if (!terminal.interactive) throw problem;
    terminal.note(`${problem.what}\n${changes}`);
    const { confirmed } = await import('../ask/confirmed.js');
    if (!(await terminal.asking(() => confirmed('Resume with the rows as they are now?')))) throw problem;
  }
}

/** A run that was walked so many times has come to its end with the last of them. */
function leftToWalk({ walks }: Before, plans: number, repeat: number | undefined): 'nothing' | 'something' {
  return repeat !== undefined && walks.size >= plans * repeat ? 'nothing' : 'something';
}

function tellNothingLeft({ header: { run }, walks }: Before, { terminal }: Context): number {
  const ok = [...walks.values()].every((one) => one);
  if (terminal.json) terminal.document({ event: 'nothing-left', run, ok } satisfies Documents['run nothing left']);
  else
    terminal.print(
      `run ${run} has finished, ${ok ? 'without failures' : 'with failures'}: there is nothing left to resume`,
    );
  if (!ok) terminal.note(`try echo-trail run --failed-of ${run} to run the failed part again`);
  return ok ? 0 : 1;
}

async function earlier(
  context: Context,
  run: string,
  wishes: RunWishes,
): Promise<{ own: Opened; before: Before; order: RunOrder }> {
  const { home } = context;
  if (context.options.env !== undefined) {
    throw new Problem('usage', { what: '--env: the run knows its environment', remedy: 'leave it out' });
  }
  const collection = await context.collection();
  const redactor = makeRedactor();
  const { before, order } = await earlierRun(collection.local, home, run, redactor);
  const settings = new Map([...order.settings, ...settingsOf(context.options.set ?? [])]);
  const own = await opened(context, wishes, { environment: order.environment, settings, redactor, collection });
  const options = { ...order.options, atOnce: wishes.atOnce ?? order.options.atOnce };
  return { own, before, order: { ...order, settings, options } };
}

export async function undoEarlier(context: Context, run: string, wishes: RunWishes): Promise<number> {
  const { terminal, signal } = context;
  const { own, before, order } = await earlier(context, run, wishes);
  demandIdle(before, worker);
  const { workspace } = own;
  const left = leftOf(before).length;
  const nothing = { run: before.header.run, undone: 0, notUndone: 0, inDoubt: doubtsIn(before) };
  // Where there is nothing to take back, the run may still be gone on with.
  const summary = left === 0 ? nothing : await undone();
  if (terminal.json) terminal.document(undoSummaryDocument(summary));
  else if (left === 0 && summary.inDoubt.length === 0)
    terminal.note(`run ${summary.run} left nothing that is to be taken back`);
  else tellUndone(summary, terminal, workspace.redactor.hide);
  return signal.aborted ? interruptedStatus : summary.notUndone + summary.inDoubt.length > 0 ? 1 : 0;

  async function undone(): Promise<UndoSummary> {
    workspace.expectChanges({ calls: left, rows: false });
    const { hide } = workspace.redactor;
    const journal = await openRun(workspace, context.home, undefined, order, worker, before);
    const report = (event: WalkEvent): void => {
      if (terminal.json) terminal.document(eventDocument(event, hide));
      else for (const line of eventLines(event, terminal, hide)) terminal.print(line);
    };
    try {
      return await undoRun(workspace, before, journal, report, signal);
    } finally {
      await journal.close();
    }
  }
}

function tellUndone(
  { run, undone, notUndone, inDoubt }: UndoSummary,
  terminal: Terminal,
  hide: (text: string) => string,
): void {
  const { out } = terminal;
  const left = notUndone > 0 ? `, ${out.red(`${notUndone} not`)}` : '';
  const doubts = inDoubt.length > 0 ? `, ${out.red(`${inDoubt.length} in doubt`)}` : '';
  terminal.print(`run ${run}: ${undone} undone${left}${doubts}`);
  for (const line of listed('in doubt: these may or may not have happened', inDoubt, terminal, hide))
    terminal.print(line);
  if (inDoubt.length > 0) terminal.note(out.dim('  check with the vendor'));
}
