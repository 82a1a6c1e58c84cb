/** Walks the plans, as often as the options say. */
import { setTimeout } from 'node:timers/promises';
import { interruption, Problem } from '../problem/problem.js';
import { moreSevere } from '../problem/severity.js';
import type { Workspace } from '../sending/workspace.js';
import type { Journal } from '../trail/journal.js';
import type { RunRecord } from '../trail/record/run-record.js';
import type { SeenItems } from '../trail/seen-items.js';
import type { TrailPlan } from '../trail/step-kind.js';
import { walkTrail } from '../trail/walking/walk.js';
import type { RunOptions } from './journal/lines.js';
import type { RunHost, RunWishes } from './run-host.js';
import { type SeenStore, seenStore } from './seen-store.js';

export interface Walking
  extends Pick<RunHost, 'report' | 'countRows' | 'signal' | 'undoSignal' | 'unwatched'>,
    Pick<RunWishes, 'anew' | 'stopAtFirstFailure'> {
  readonly workspace: Workspace;
  readonly plans: readonly TrailPlan[];
  readonly journal: Journal | undefined;
  /** The files that tables of this command went to, each with the environment and the trail that wrote it. */
  readonly tables?: Map<string, string> | undefined;
  /** What was asked for, now or by the command that is resumed. */
  readonly options: RunOptions;
}

/** @returns the most severe problem; undefined where all is well */
export async function walkPlans(walking: Walking): Promise<Problem | undefined> {
  const { options, signal, stopAtFirstFailure, unwatched } = walking;
  const { repeat, every, until } = options;
  const { seen, stores } = await seenBefore(walking);
  try {
    return await passes();
  } finally {
    for (const store of stores.values()) await store.close();
  }

  async function passes(): Promise<Problem | undefined> {
    let worst: Problem | undefined;
    for (let pass = 0; repeat === undefined || pass < repeat; pass += 1) {
      const began = performance.now();
      const { problem, walked } = await walkPass(pass, walking, seen, stores);
      if (problem) worst = moreSevere(worst, problem);
      const enough = until !== undefined && (until === 'ok') === (problem === undefined);
      // The awaited outcome has come: earlier failures do not count.
      if (enough && until === 'ok') worst = undefined;
      if (enough || (stopAtFirstFailure && problem) || pass + 1 === repeat) break;
      // An endless run serves its reader.
      if (repeat === undefined && unwatched?.()) break;
      // A repetition of an earlier command needs no pause.
      if (walked) await rest(every - (performance.now() - began), walking);
      // The walk itself may have ended well.
      if (signal.aborted) {
        if (problem?.code !== 'interrupted' && repeat !== undefined) tellLeft(walking);
        return interruption();
      }
    }
    return worst;
  }
}

type Stores = ReadonlyMap<TrailPlan, SeenStore>;

/** What earlier runs handled, and what this one did before it was resumed. */
async function seenBefore({
  plans,
  workspace,
  journal,
  anew = false,
}: Walking): Promise<{ seen: SeenItems; stores: Stores }> {
  const seen: SeenItems = new Map();
  const stores = new Map<TrailPlan, SeenStore>();
  const { collection, environment } = workspace;
  const adds = (more: SeenItems): void => {
    for (const [way, items] of more) seen.set(way, new Map([...(seen.get(way) ?? []), ...items]));
  };
  for (const plan of plans) {
    if (!plan.steps.some(({ remembers }) => remembers) || stores.has(plan)) continue;
    const store = await seenStore(collection.local, environment.name, plan.name, anew && !workspace.dryRun);
    stores.set(plan, store);
    if (!anew) adds(store.items);
  }
  if (anew && stores.size === 0) {
    throw new Problem('usage', {
      what: 'there is nothing to forget: no step of this run has once-by',
      remedy: 'walk it without forgetting',
    });
  }
  if (journal) adds(journal.seenBefore());
  return { seen, stores };
}

/** All plans once. */
async function walkPass(
  pass: number,
  walking: Walking,
  seen: SeenItems,
  stores: Stores,
): Promise<{ readonly problem: Problem | undefined; readonly walked: boolean }> {
  const { plans, journal, options, stopAtFirstFailure, signal } = walking;
  let worst: Problem | undefined;
  let walked = false;
  for (const [index, plan] of plans.entries()) {
    const number = pass * plans.length + index;
    const before = journal?.walkBefore(number);
    const part = options.parts?.[index] ?? 'all';
    if (before === false) worst = moreSevere(worst, failedBefore(plan));
    if (before !== undefined || part === 'none') continue;
    walked = true;
    const rows = part === 'all' ? undefined : new Set(part);
    const problem = await walkOne(plan, number, walking, seen, rows, stores.get(plan));
    if (problem) worst = moreSevere(worst, problem);
    if (stopAtFirstFailure && problem) break;
    if (signal.aborted && index + 1 < plans.length) {
      if (problem?.code !== 'interrupted') tellLeft(walking);
      return { problem: interruption(), walked };
    }
  }
  return { problem: worst, walked };
}

const failedBefore = ({ name }: TrailPlan): Problem =>
  new Problem('step-failed', { what: `${name} failed before the run was resumed` });

/** What was walked had come to its end before the interrupt, and says nothing of what was not begun. */
function tellLeft({ journal, report }: Walking): void {
  if (journal) report({ event: 'unfinished', run: journal.run });
}

async function walkOne(
  plan: TrailPlan,
  number: number,
  { workspace, stopAtFirstFailure, journal, tables, report: tell, countRows, signal, undoSignal, options }: Walking,
  seen: SeenItems,
  rows: ReadonlySet<string> | undefined,
  store: SeenStore | undefined,
): Promise<Problem | undefined> {
  // Walked again, a trail writes its tables again; another one must not.
  const writer = `${workspace.environment.name} ${plan.name}`;
  const report = (record: RunRecord): void => {
    if (record.event === 'table' && record.to !== null) tables?.set(record.to, writer);
    tell(record);
  };
  const tablesElsewhere = new Set([...(tables ?? [])].filter(([, by]) => by !== writer).map(([file]) => file));
  const { problem } = await walkTrail(workspace, plan, {
    report,
    countRows,
    signal,
    undoSignal,
    number,
    journal,
    rows,
    part: options.part,
    gaps: options.joined,
    stopAtFirstFailure,
    seen,
    remember: workspace.dryRun ? undefined : store?.add,
    tablesElsewhere,
  });
  return problem;
}

/** Until the next begins, or somebody ends it. */
async function rest(ms: number, { report, signal }: Walking): Promise<void> {
  const until = performance.now() + ms;
  if (ms > 1000) report({ event: 'resting', time: Math.round(ms) });
  while (!signal.aborted && performance.now() < until) {
    const left = until - performance.now();
    await setTimeout(Math.min(left, 1000), undefined, { signal }).catch(() => undefined);
  }
}
