/** `run --resume`, `--failed-of` and `--undo`: what an earlier command left, as it was asked for then. */
import { makeRedactor } from '../../core/echo/redactor.js';
import { shortText } from '../../core/matcher/reading.js';
import { Problem } from '../../core/problem/problem.js';
import type { Before } from '../../core/trail/journal/before.js';
import { makeMatrix } from '../../core/trail/run/matrix.js';
import { planNames } from '../../core/trail/run/names.js';
import { demandIdle, earlierRun, failedParts, openRun, type RunOrder } from '../../core/trail/run/open-run.js';
import { leftOf, undoRun } from '../../core/trail/run/undo-run.js';
import { type Context, settingsOf } from '../context.js';
import { interruptedStatus } from '../exit-status.js';
import { eventLines } from '../view/run.js';
import { eventDocument, undoSummaryDocument } from '../view/run-documents.js';
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
    status = await walkAhead(walking, order, context, before);
  } else {
    const parts = failedParts(plans, before);
    if (parts.every((part) => part === 'none')) {
      context.terminal.note(`nothing failed in run ${before.header.run}`);
      return 0;
    }
    const options = { rows, atOnce, repeat: 1, every: 0, parts };
    status = await walkAhead(walking, { ...order, options }, context);
  }
  tellMatrix(matrix, context, own.workspace.redactor.hide);
  return status;
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
  const { hide } = workspace.redactor;
  if (leftOf(before).length === 0) {
    const none = { run: before.header.run, undone: 0, notUndone: 0 };
    if (terminal.json) terminal.document(undoSummaryDocument(none));
    else terminal.note(`run ${none.run} left nothing that is to be taken back`);
    return 0;
  }
  workspace.expectChanges({ calls: leftOf(before).length, rows: false });
  const journal = await openRun(workspace, context.home, undefined, order, worker, before);
  try {
    const summary = await undoRun(
      workspace,
      before,
      journal,
      (event) => {
        if (terminal.json) terminal.document(eventDocument(event, hide));
        else for (const line of eventLines(event, terminal, hide)) terminal.print(line);
      },
      signal,
    );
    if (terminal.json) terminal.document(undoSummaryDocument(summary));
    else {
      const left = summary.notUndone > 0 ? `, ${terminal.out.red(`${summary.notUndone} not`)}` : '';
      terminal.print(`run ${summary.run}: ${summary.undone} undone${left}`);
    }
    return signal.aborted ? interruptedStatus : summary.notUndone > 0 ? 1 : 0;
  } finally {
    await journal.close();
  }
}
