/** `run`: trails and requests, walked. */
import type { Collection } from '../../core/collection/collection.js';
import type { Settings } from '../../core/collection/layers.js';
import { makeRedactor } from '../../core/echo/redactor.js';
import { shortText } from '../../core/matcher/reading.js';
import { asProblem, Problem } from '../../core/problem/problem.js';
import type { Before } from '../../core/trail/journal/before.js';
import { toldOnly } from '../../core/trail/pacing/retry-policy.js';
import { demandAhead } from '../../core/trail/run/ahead.js';
import { type MatrixMaker, makeMatrix } from '../../core/trail/run/matrix.js';
import { planNames } from '../../core/trail/run/names.js';
import { demandIdle, earlierRun, openRun, type RunOrder, type Worker } from '../../core/trail/run/open-run.js';
import { leftOf, undoRun } from '../../core/trail/run/undo-run.js';
import type { TrailPlan } from '../../core/trail/step-kind.js';
import type { Workspace } from '../../core/trail/workspace.js';
import { type CommandModule, examples } from '../command.js';
import { type Context, settingsOf } from '../context.js';
import { exitStatus } from '../exit-status.js';
import { problemLines } from '../view/problem.js';
import { eventLines } from '../view/run.js';
import { eventDocument, matrixDocument, undoSummaryDocument } from '../view/run-documents.js';
import { matrixText } from '../view/run-summary.js';
import { accepting } from '../walking/accepting.js';
import { type RunWishes, runOptions, runWishes } from '../walking/options.js';
import { type Walking, walkPlans, worse } from '../walking/walk-plans.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command.argument('[names...]', 'trails, requests, or folders of them, walked one after the other');
    runOptions(command).action(
      run(async (context, names, options) => {
        const wishes = runWishes(options, names);
        if (wishes.undo !== undefined) return undoEarlier(context, wishes.undo, wishes);
        const earlier = wishes.resume ?? wishes.failedOf;
        if (earlier !== undefined) return walkEarlier(context, earlier, wishes);
        return walkNames(context, names, wishes);
      }),
    );
    examples(command, [
      ['run berth-stay', 'a trail of the collection'],
      ['run berth-stay --set imo=9000031 --json', 'for another vessel, a line of JSON an event'],
      ['run vessels/show berths/free', 'two requests, with their expectations'],
      ['run lights-audit --matrix', 'many hosts by what is checked, and every deviation'],
      ['run --resume last', 'go on with the last run, where it was interrupted or killed'],
    ]);
  },
};

const worker: Worker = {
  process: process.pid,
  alive(pid) {
    if (pid === process.pid) return false;
    try {
      process.kill(pid, 0);
      return true;
    } catch (error) {
      return (error as NodeJS.ErrnoException).code === 'EPERM';
    }
  },
};

/** One environment, or several of them one after the other; all of them are read before the first step. */
async function walkNames(context: Context, names: readonly string[], wishes: RunWishes): Promise<number> {
  const { terminal, options } = context;
  const environments = options.env?.split(',').map((name) => name.trim()) ?? [undefined];
  const several = environments.length > 1;
  const matrix = wishes.matrix || several ? makeMatrix(shortText) : undefined;
  const all: (Opened & { readonly plans: readonly TrailPlan[] })[] = [];
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
    const { rows, atOnce } = wishes;
    const order: RunOrder = { names, environment: environment.name, settings, rows, atOnce };
    const walking = { ...own, wishes, matrix, environment: several ? environment.name : undefined };
    status = worse(status, await walkAhead(walking, order, context));
    if (several) matrix?.ended(environment.name);
  }
  tellMatrix(matrix, context, context.redactor()?.hide ?? ((text) => text));
  return status;
}

interface Opened {
  readonly workspace: Workspace;
  readonly written: () => Promise<void>;
}

async function opened(
  context: Context,
  wishes: RunWishes,
  more: {
    readonly environment?: string | undefined;
    readonly settings?: Settings;
    readonly redactor?: Workspace['redactor'];
    readonly collection?: Collection;
  },
): Promise<Opened> {
  const { terminal } = context;
  const collection = more.collection ?? (await context.collection());
  let workspace: Workspace | undefined;
  const baselines = accepting(collection.root, terminal, () => workspace?.redactor.hide ?? ((text) => text));
  workspace = await context.workspace({
    ...more,
    collection,
    allowChanges: wishes.allowChanges,
    retry: toldOnly,
    dryRun: wishes.dryRun,
    accept: wishes.accept ? baselines.accept : undefined,
    standardInput: () => process.stdin,
    choose: terminal.interactive
      ? (question, labels) => terminal.asking(async () => (await import('../ask/choice.js')).askLabel(question, labels))
      : undefined,
  });
  return { workspace, written: baselines.written };
}

/** What can be known before the first step is looked at first. Of several environments, one that is not there is a result. */
async function walkAhead(
  walking: Omit<Walking, 'journal'> & Opened,
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
  try {
    await demandAhead(workspace, plans, context.signal);
  } catch (error) {
    const problem = asProblem(error);
    if (environment === undefined || problem.family !== 'no-answer') throw error;
    walking.matrix?.missing(environment, problem);
    terminal.complain(problemLines(problem, terminal.err, workspace.redactor.hide));
    return exitStatus(problem);
  }
  const { only } = walking;
  const journal = wishes.dryRun ? undefined : await openRun(workspace, context.home, plans, order, worker, before);
  try {
    return await walkPlans({ ...walking, journal, only }, context);
  } finally {
    await journal?.close();
    await walking.written();
  }
}

/** `--resume` and `--failed-of`: as it was asked for then. */
async function walkEarlier(context: Context, run: string, wishes: RunWishes): Promise<number> {
  const { own, before, order } = await earlier(context, run, wishes);
  if (wishes.resume !== undefined) demandIdle(before, worker);
  const plans = await planNames(own.workspace, order.names, { rows: order.rows, atOnce: order.atOnce });
  own.workspace.checkSettings(plans.flatMap(({ takes }) => takes));
  const only = wishes.failedOf === undefined ? undefined : failedOnly(plans, before);
  if (only && plans.every((_, index) => only(index) === 'none')) {
    context.terminal.note(`nothing failed in run ${before.header.run}`);
    return 0;
  }
  const matrix = wishes.matrix ? makeMatrix(shortText) : undefined;
  const walking = { ...own, plans, wishes, matrix, environment: undefined, only };
  const status = await walkAhead(walking, order, context, only ? undefined : before);
  tellMatrix(matrix, context, own.workspace.redactor.hide);
  return status;
}

async function earlier(
  context: Context,
  run: string,
  wishes: RunWishes,
): Promise<{ own: Opened; before: Before; order: RunOrder }> {
  const { options, home } = context;
  if (options.env !== undefined) {
    throw new Problem('usage', { what: '--env: the run knows its environment', remedy: 'leave it out' });
  }
  const collection = await context.collection();
  const redactor = makeRedactor();
  const { before, order } = await earlierRun(collection.local, home, run, redactor);
  const settings = new Map([...order.settings, ...settingsOf(options.set ?? [])]);
  const own = await opened(context, wishes, { environment: order.environment, settings, redactor, collection });
  const asked = { ...order, settings, rows: wishes.rows ?? order.rows, atOnce: wishes.atOnce ?? order.atOnce };
  return { own, before, order: asked };
}

/** Of plans with rows those that failed; of others the whole, where it did. */
function failedOnly(plans: readonly TrailPlan[], { failed, walks }: Before): NonNullable<Walking['only']> {
  return (index) => {
    const rows = new Set(failed.filter(({ walk }) => walk === index).map(({ row }) => row));
    if (plans[index]?.rows) return rows.size === 0 ? 'none' : rows;
    return walks.get(index) === false ? 'all' : 'none';
  };
}

async function undoEarlier(context: Context, run: string, wishes: RunWishes): Promise<number> {
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
  const journal = await openRun(workspace, context.home, undefined, order, worker, before);
  try {
    const summary = await undoRun(
      workspace,
      before,
      journal,
      (event) => {
        if (terminal.json) terminal.print(hide(JSON.stringify(eventDocument(event, hide))));
        else for (const line of eventLines(event, terminal, hide)) terminal.print(line);
      },
      signal,
    );
    if (terminal.json) terminal.print(JSON.stringify(undoSummaryDocument(summary)));
    else {
      const left = summary.notUndone > 0 ? `, ${terminal.out.red(`${summary.notUndone} not`)}` : '';
      terminal.print(`run ${summary.run}: ${summary.undone} undone${left}`);
    }
    return signal.aborted ? 130 : summary.notUndone > 0 ? 1 : 0;
  } finally {
    await journal.close();
  }
}

function tellMatrix(matrix: MatrixMaker | undefined, { terminal }: Context, hide: (text: string) => string): void {
  if (!matrix) return;
  if (terminal.json) terminal.print(hide(JSON.stringify(matrixDocument(matrix.matrix()))));
  else terminal.print(`\n${matrixText(matrix.matrix(), terminal, hide)}`);
}
