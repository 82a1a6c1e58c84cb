/** Continues an earlier run with its own options: resumes it, runs its failed part, or undoes it. */

import type { Collection } from '../collection/collection.js';
import { rehearsedEnvironment } from '../collection/variables/rehearsed.js';
import { makeRedactor } from '../echo/redactor.js';
import { interruption, Problem } from '../problem/problem.js';
import type { RunRecord } from '../trail/record/run-record.js';
import type { RecordedRun } from './journal/recorded-run.js';
import { planNames } from './names.js';
import { earlierRun, failedParts, openRun, type RunOrder, requireIdle, requireNotTakenBack } from './open-run.js';
import { changedRows, rowsChanged, rowsOfRun } from './rows-changed.js';
import type { OpenedRun, RunHost, RunWishes } from './run-host.js';
import { runBegan, runPlanned } from './run-names.js';
import { doubtsIn, leftOf, type UndoSummary, undoRun } from './undo-run.js';

interface Earlier extends OpenedRun {
  readonly before: RecordedRun;
  readonly order: RunOrder;
}

/** @param settings in place of those of then, by name */
async function earlier(
  host: RunHost,
  collection: Collection,
  run: string,
  atOnce: number | undefined,
  settings: ReadonlyMap<string, string>,
): Promise<Earlier> {
  const redactor = makeRedactor();
  const { before, order } = await earlierRun(collection.local, host.home, run, redactor);
  if (rehearsedEnvironment.is(order.environment))
    throw new Problem('usage', {
      what: `run ${before.header.run} was rehearsed, and its vendor is not there any more`,
      remedy: 'run it again',
    });
  const all = new Map([...order.settings, ...settings]);
  const own = await host.open({
    environment: order.environment,
    settings: all,
    redactor,
    collection,
    shares: order.options.part?.of,
  });
  const options = { ...order.options, atOnce: atOnce ?? order.options.atOnce };
  return { ...own, before, order: { ...order, settings: all, options } };
}

export interface EarlierWishes extends Pick<RunWishes, 'atOnce' | 'stopAtFirstFailure' | 'dryRun'> {
  readonly settings?: ReadonlyMap<string, string> | undefined;
  /** Resume although the rows have changed. */
  readonly rowsChanged?: boolean | undefined;
}

/**
 * @param run its name, or `last`
 * @returns the most severe problem; undefined where all is well
 * @throws Problem usage: it is still under way, was taken back, or is not what it was
 */
export async function resumeRun(
  host: RunHost,
  collection: Collection,
  run: string,
  wishes: EarlierWishes = {},
): Promise<Problem | undefined> {
  const own = await earlier(host, collection, run, wishes.atOnce, wishes.settings ?? new Map());
  const { workspace, before, order } = own;
  const plans = await plansOf(own);
  requireIdle(before, host.worker);
  requireNotTakenBack(before);
  if (hasEnded(before, plans.length, order.options.repeat)) {
    const ok = [...before.walks.values()].every((one) => one);
    host.report({ event: 'nothing-left', run: before.header.run, ok });
    return ok ? undefined : new Problem('step-failed', { what: `run ${before.header.run} had failed` });
  }
  if (!wishes.rowsChanged) {
    const changes = await rowsChanged(workspace, rowsOfRun(plans, before));
    const problem = changes === undefined ? undefined : changedRows(before.header.run, changes);
    if (problem && !(await host.confirmRows?.(problem.what, changes as string))) throw problem;
  }
  const environments = [order.environment];
  return runPlanned(host, { ...own, plans }, order, { ...wishes, environments, before });
}

/** A repeated run has ended when all its repetitions have. */
const hasEnded = ({ walks }: RecordedRun, plans: number, repeat: number | undefined): boolean =>
  repeat !== undefined && walks.size >= plans * repeat;

async function plansOf({ workspace, order }: Earlier) {
  const { rows, atOnce } = order.options;
  const plans = await planNames(workspace, order.names, { rows, atOnce });
  workspace.checkSettings(plans.flatMap(({ takes }) => takes));
  return plans;
}

/** Runs what failed of a run, as a run of its own. */
export async function runFailedOf(
  host: RunHost,
  collection: Collection,
  run: string,
  wishes: EarlierWishes = {},
): Promise<Problem | undefined> {
  const own = await earlier(host, collection, run, wishes.atOnce, wishes.settings ?? new Map());
  const { workspace, before, order } = own;
  const plans = await plansOf(own);
  const of = before.header.run;
  const parts = await failedParts(workspace, plans, before, (changes) =>
    host.report({ event: 'rows-changed', run: of, changes }),
  );
  if (parts.every((part) => part === 'none')) {
    host.report({ event: 'nothing-failed', run: of });
    return undefined;
  }
  const { rows, atOnce } = order.options;
  const options = { rows, atOnce, repeat: 1, every: 0, parts };
  return runPlanned(host, { ...own, plans }, { ...order, options }, { ...wishes, environments: [order.environment] });
}

/** Undoes what a run made and has not undone itself. */
export async function undoEarlier(
  host: RunHost,
  collection: Collection,
  run: string,
  wishes: Pick<EarlierWishes, 'settings'> = {},
): Promise<Problem | undefined> {
  const { workspace, before, order } = await earlier(host, collection, run, undefined, wishes.settings ?? new Map());
  requireIdle(before, host.worker);
  const left = leftOf(before).length;
  const { hide } = workspace.redactor;
  // With nothing to undo, the run may still be resumed.
  const summary = left === 0 ? undefined : await undone();
  const { undone: done, notUndone, inDoubt } = summary ?? { undone: 0, notUndone: 0, inDoubt: doubtsIn(before) };
  const of = before.header.run;
  host.report({ event: 'undo-summary', run: of, undone: done, notUndone, inDoubt: inDoubt.map(hide) });
  if (host.signal.aborted) return interruption();
  if (notUndone + inDoubt.length === 0) return undefined;
  return new Problem('step-failed', { what: `run ${of} was not undone completely` });

  async function undone(): Promise<UndoSummary> {
    workspace.expectChanges({ calls: left, rows: false });
    const journal = await openRun(workspace, host.home, undefined, order, host.worker, before);
    const report = (record: RunRecord): void => {
      journal.record(record);
      host.report(record);
    };
    report(runBegan(before.header.run, order, { environments: [order.environment], resumed: true, dryRun: false }));
    try {
      return await undoRun(workspace, before, journal, report, host.signal);
    } finally {
      await journal.close();
    }
  }
}
