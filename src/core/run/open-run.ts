/** A run: what was asked for, its journal, and what an earlier command left of it. */

import { createHash } from 'node:crypto';
import { statSync } from 'node:fs';
import { join } from 'node:path';
import * as z from 'zod/mini';
import { action } from '../problem/actions.js';
import { Problem } from '../problem/problem.js';
import type { Workspace } from '../sending/workspace.js';
import { type Encryption, encryption, unreadable } from '../storage/encryption.js';
import { withFileLock } from '../storage/file-lock.js';
import type { Journal } from '../trail/journal.js';
import type { TrailPlan } from '../trail/step-kind.js';
import { journalFolder } from './journal/folder.js';
import { openJournal } from './journal/journal.js';
import type { JournalLine, Part, RunOptions } from './journal/lines.js';
import { type Recorder, recorder } from './journal/recorded.js';
import { type RecordedRun, readJournal } from './journal/recorded-run.js';
import { rowsNow } from './rows-changed.js';

/** What a run is resumed by: as it was asked for. */
export interface RunOrder {
  readonly names: readonly string[];
  readonly environment: string;
  readonly settings: ReadonlyMap<string, string>;
  readonly options: RunOptions;
}

/** Who works on it, so that no two do. */
export interface Worker {
  readonly process: number;
  /** Whether that process is still there, and no other has got its number since. */
  readonly alive: (worker: RecordedRun['worker']) => boolean;
}

/** Reads what is known of a run. @param home the user's own folder, with the key of what is sealed @throws Problem */
export async function earlierRun(
  local: string,
  home: string,
  run: string,
  redactor: Workspace['redactor'],
): Promise<{ readonly order: RunOrder; readonly before: RecordedRun }> {
  const keys = await encryption(home);
  const before = await readJournal(journalFolder(local), run, recorder(keys, redactor)).catch((error: unknown) =>
    Promise.reject(unreadable(journalFolder(local), error, anotherKey)),
  );
  const { names, environment, settings, options } = before.header;
  return { before, order: { names, environment, settings: settingsIn(settings, keys, before.path), options } };
}

const anotherKey = 'resume and undo a run with the key of the user who started it';

const settingsList = z.array(z.tuple([z.string(), z.string()]));

/** @throws Problem secret-unreadable: sealed with another key, or changed since */
function settingsIn(sealed: string, encryption: Encryption, path: string): Map<string, string> {
  try {
    return new Map(settingsList.parse(JSON.parse(encryption.decrypt(sealed))));
  } catch (error) {
    throw unreadable(path, error, anotherKey);
  }
}

/** @throws Problem usage: another process is at it */
export function requireIdle({ worker, header }: RecordedRun, { alive }: Worker): void {
  if (!alive(worker)) return;
  throw new Problem('usage', {
    what: `run ${header.run} is still under way, in process ${worker.process}`,
    remedy: 'wait until it has ended, or end it',
  });
}

/** @throws Problem usage: what the run made was taken back */
export function requireNotTakenBack({ header, takenBack }: RecordedRun): void {
  if (!takenBack) return;
  throw new Problem('usage', {
    what: `run ${header.run} has been undone since, so it cannot be resumed`,
    remedy: `${action().run(header.names)} starts again; ${action().runFailedOf(header.run)} runs the failed part`,
  });
}

/** Of two commands that resume a run at the same moment, one does. @throws Problem usage: the other one does */
async function takenUp(before: RecordedRun, open: () => Journal): Promise<Journal> {
  return withFileLock(before.path, async () => {
    if (statSync(before.path).size !== before.size) {
      throw new Problem('usage', {
        what: `another command has resumed run ${before.header.run} meanwhile`,
        remedy: 'wait until it has ended',
      });
    }
    const journal = open();
    await journal.begun();
    return journal;
  });
}

const digestOf = (plans: readonly TrailPlan[]): string =>
  createHash('sha256')
    .update(plans.map(({ text }) => text).join('\0'))
    .digest('hex');

/**
 * @param plans undefined where nothing is walked @param before of the run that is resumed
 * @throws Problem usage: its trails are not what they were
 */
export async function openRun(
  workspace: Workspace,
  home: string,
  plans: readonly TrailPlan[] | undefined,
  order: RunOrder,
  { process }: Worker,
  before?: RecordedRun,
): Promise<Journal> {
  const { collection, log, redactor } = workspace;
  const keys = await encryption(home);
  const record: Recorder = recorder(keys, redactor);
  const at = new Date().toISOString();
  const digest = plans && digestOf(plans);
  if (before) {
    const { run } = before.header;
    if (digest !== undefined && before.header.digest !== digest) {
      throw new Problem('usage', {
        what: `the trails of run ${run} were changed since: it cannot be resumed`,
        remedy: `${action().runFailedOf(run)} walks what failed of it, ${action().undoRun(run)} takes back what it made`,
      });
    }
    const first = { line: plans ? 'resumed' : 'undo', run: log.run, at, process } as const;
    return takenUp(before, () => openJournal({ path: before.path, run, recorder: record, first, before }));
  }
  const first: JournalLine = {
    line: 'run',
    run: log.run,
    at,
    process,
    environment: order.environment,
    names: [...order.names],
    settings: keys.encrypt(JSON.stringify([...order.settings])),
    options: order.options,
    digest: digest ?? '',
  };
  const path = join(journalFolder(collection.local), `${at.replace(/[-:.]/g, '')}-${log.run}.jsonl`);
  return openJournal({ path, run: log.run, recorder: record, first, before: undefined });
}

/**
 * What failed of a run: of plans with rows those that did, by their digests; of others the whole.
 * @param onChange told, in words, of rows that are not what they were
 */
export async function failedParts(
  workspace: Workspace,
  plans: readonly TrailPlan[],
  { failed, walks, digests }: RecordedRun,
  onChange: (told: string) => void,
): Promise<Part[]> {
  // A run that was repeated walked each plan several times.
  const isOf = (walk: number, plan: number): boolean => walk % plans.length === plan;
  const parts: Part[] = [];
  for (const [index, plan] of plans.entries()) {
    if (!plan.rows) {
      parts.push([...walks].some(([walk, ok]) => !ok && isOf(walk, index)) ? 'all' : 'none');
      continue;
    }
    const numbers = new Set(failed.filter(({ walk }) => isOf(walk, index)).map(({ row }) => row));
    const known = new Map([...digests].filter(([walk]) => isOf(walk, index)).flatMap(([, own]) => [...own]));
    const { rows, told } =
      numbers.size === 0 ? { rows: [], told: undefined } : await rowsNow(workspace, plan, known, numbers);
    if (told !== undefined) onChange(told);
    parts.push(rows.length === 0 ? 'none' : rows);
  }
  return parts;
}
