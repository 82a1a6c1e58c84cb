/** Walking what is planned, as often as is wished, and telling what it came to. */
import { setTimeout } from 'node:timers/promises';
import { Problem } from '../../core/problem/problem.js';
import { type HandledStore, handledStore } from '../../core/run/handled-store.js';
import type { RunOptions } from '../../core/run/journal/lines.js';
import type { MatrixMaker } from '../../core/run/matrix.js';
import type { Workspace } from '../../core/sending/workspace.js';
import type { Handled } from '../../core/trail/handled.js';
import type { Journal } from '../../core/trail/journal.js';
import type { TrailPlan } from '../../core/trail/step-kind.js';
import { walkTrail } from '../../core/trail/walking/walk.js';
import { durationText } from '../../core/value/measures.js';
import type { Context } from '../context.js';
import { exitStatus, interruptedStatus } from '../exit-status.js';
import { problemLines } from '../view/problem.js';
import { summaryDocument } from '../view/run/run-documents.js';
import { dryText, summaryText } from '../view/run/run-summary.js';
import type { RunWishes } from './options.js';
import { reporter } from './reporter.js';

export interface Walking {
  readonly workspace: Workspace;
  readonly plans: readonly TrailPlan[];
  readonly wishes: RunWishes;
  readonly journal: Journal | undefined;
  readonly matrix: MatrixMaker | undefined;
  /** Named where there are several. */
  readonly environment: string | undefined;
  /** The files that tables of this command went to, each with the environment and the trail that wrote it. */
  readonly tables?: Map<string, string> | undefined;
  /** What was asked for, now or by the command that is gone on with. */
  readonly options: RunOptions;
}

/** @returns the exit status */
export async function walkPlans(walking: Walking, context: Context): Promise<number> {
  const { wishes, options } = walking;
  const { repeat, every, until } = options;
  const { handled, stores } = await handledBefore(walking);
  try {
    return await passes();
  } finally {
    for (const store of stores.values()) await store.close();
  }

  async function passes(): Promise<number> {
    let status = 0;
    for (let pass = 0; repeat === undefined || pass < repeat; pass += 1) {
      const began = performance.now();
      const { status: own, walked } = await walkPass(pass, walking, context, handled, stores);
      status = worse(status, own);
      const enough = until !== undefined && (until === 'ok') === (own === 0);
      // What is waited for has come: that it was not there before is no failure.
      if (enough && until === 'ok') status = 0;
      if (enough || (wishes.stopAtFirstFailure && own !== 0) || pass + 1 === repeat) break;
      // Without an end of its own it was walked for whoever watched.
      if (repeat === undefined && context.terminal.closed) break;
      // What an earlier command walked needs no rest.
      if (walked) await rest(every - (performance.now() - began), context);
      // The walk itself may have come to its end well.
      if (context.signal.aborted) {
        if (own !== interruptedStatus && repeat !== undefined) tellLeft(walking, context);
        return interruptedStatus;
      }
    }
    return status;
  }
}

type Stores = ReadonlyMap<TrailPlan, HandledStore>;

/** What earlier runs handled, and what this one did before it was gone on with. */
async function handledBefore({
  plans,
  workspace,
  journal,
  wishes,
}: Walking): Promise<{ handled: Handled; stores: Stores }> {
  const handled: Handled = new Map();
  const stores = new Map<TrailPlan, HandledStore>();
  const { collection, environment } = workspace;
  const adds = (more: Handled): void => {
    for (const [way, items] of more) handled.set(way, new Map([...(handled.get(way) ?? []), ...items]));
  };
  for (const plan of plans) {
    if (!plan.steps.some(({ remembers }) => remembers) || stores.has(plan)) continue;
    const store = await handledStore(collection.local, environment.name, plan.name, wishes.anew && !wishes.dryRun);
    stores.set(plan, store);
    if (!wishes.anew) adds(store.items);
  }
  if (wishes.anew && stores.size === 0) {
    throw new Problem('usage', {
      what: '--anew has nothing to forget: no step of this run has once-by',
      remedy: 'run without --anew',
    });
  }
  if (journal) adds(journal.handledBefore());
  return { handled, stores };
}

/** All plans once. */
async function walkPass(
  pass: number,
  walking: Walking,
  context: Context,
  handled: Handled,
  stores: Stores,
): Promise<{ readonly status: number; readonly walked: boolean }> {
  const { plans, wishes, journal, options } = walking;
  let status = 0;
  let walked = false;
  for (const [index, plan] of plans.entries()) {
    const number = pass * plans.length + index;
    const before = journal?.walkBefore(number);
    const part = options.parts?.[index] ?? 'all';
    if (before === false) status = worse(status, 1);
    if (before !== undefined || part === 'none') continue;
    walked = true;
    const rows = part === 'all' ? undefined : new Set(part);
    const problem = await walkOne(plan, number, walking, context, handled, rows, stores.get(plan));
    status = worse(status, exitStatus(problem));
    if (wishes.stopAtFirstFailure && problem) break;
    if (context.signal.aborted && index + 1 < plans.length) {
      if (problem?.code !== 'interrupted') tellLeft(walking, context);
      return { status: interruptedStatus, walked };
    }
  }
  return { status, walked };
}

/** What was walked had come to its end before the interrupt, and says nothing of what was not begun. */
function tellLeft({ journal }: Walking, { terminal }: Context): void {
  if (!journal || terminal.json) return;
  const { dim } = terminal.err;
  terminal.note(dim(`interrupted before all was walked; to go on with it: echo-trail run --resume ${journal.run}`));
}

async function walkOne(
  plan: TrailPlan,
  number: number,
  { workspace, wishes, journal, matrix, environment, tables }: Walking,
  { terminal, signal, secondSignal }: Context,
  handled: Handled,
  rows: ReadonlySet<string> | undefined,
  store: HandledStore | undefined,
): Promise<Problem | undefined> {
  const told = reporter(plan, workspace, terminal, matrix, environment);
  // Walked again, a trail writes its tables anew; another one must not.
  const writer = `${workspace.environment.name} ${plan.name}`;
  const report: typeof told.report = (event) => {
    if (event.event === 'table' && event.to !== undefined) tables?.set(event.to, writer);
    told.report(event);
  };
  const { hide } = workspace.redactor;
  const { stopAtFirstFailure } = wishes;
  const remember = workspace.dryRun ? undefined : store?.add;
  const settings = {
    report,
    signal,
    undoSignal: secondSignal,
    number,
    journal,
    rows,
    stopAtFirstFailure,
    handled,
    remember,
  };
  const tablesElsewhere = new Set([...(tables ?? [])].filter(([, by]) => by !== writer).map(([file]) => file));
  const summary = await walkTrail(workspace, plan, { ...settings, tablesElsewhere }).finally(told.end);
  if (matrix && environment === undefined) matrix.ended(plan.name);
  if (terminal.json) {
    const document = summaryDocument(summary, plan.name);
    terminal.document(environment === undefined ? document : { ...document, environment });
  } else if (workspace.dryRun) terminal.print(dryText(summary, plan.name, terminal));
  else terminal.print(summaryText(summary, plan.name, terminal, hide));
  if (summary.ended && !terminal.json) terminal.complain(problemLines(summary.ended, terminal.err, hide));
  return summary.problem;
}

/** Until the next begins, or somebody ends it. */
async function rest(ms: number, { terminal, signal }: Context): Promise<void> {
  const until = performance.now() + ms;
  if (ms > 1000) terminal.note(terminal.err.dim(`again in ${durationText(ms)}`));
  while (!signal.aborted && performance.now() < until) {
    const left = until - performance.now();
    await setTimeout(Math.min(left, 1000), undefined, { signal }).catch(() => undefined);
  }
}

/** By the order of the exit statuses: 130, 2, 4, 3, 1, 0. */
export function worse(one: number, other: number): number {
  const order = [0, 1, 3, 4, 2, 130];
  return order.indexOf(one) >= order.indexOf(other) ? one : other;
}
