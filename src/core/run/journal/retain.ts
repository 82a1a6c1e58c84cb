/** Deleting old journals, and what they tell of. */
import { rm } from 'node:fs/promises';
import { retain } from '../../echo/retain.js';
import { filesIn } from '../../storage/files-in.js';
import { linesThatBegin } from '../../storage/lines-that-begin.js';
import { journalFolder } from './folder.js';

interface JournalFile {
  readonly path: string;
  /** Milliseconds since the epoch, of its last line. */
  readonly at: number;
}

/** The newest first. */
function journalFiles(local: string): JournalFile[] {
  return filesIn(journalFolder(local), (file) => file.endsWith('.jsonl'))
    .map(({ path, mtimeMs: at }) => ({ path, at }))
    .toSorted((a, b) => b.at - a.at);
}

/** @param since milliseconds since the epoch: what ended before goes @returns how many went */
export async function retainJournals(
  local: string,
  { runs, since = 0 }: { runs: number; since?: number },
): Promise<number> {
  const old = journalFiles(local).filter(({ at }, index) => index >= runs || at < since);
  for (const { path } of old) await rm(path, { force: true });
  return old.length;
}

/** Of what is beyond the limits, so many in ten stay: they are not reached again by the very next command. */
const tenths = 9;

/**
 * What a command deletes at its end: the oldest, where there is more than the collection keeps. The exchanges of the newest run
 * stay: its summary names them.
 * @param size bytes @returns how many records of exchanges went
 */
export async function retainAtEnd(local: string, { runs, size }: { runs: number; size: number }): Promise<number> {
  let newest: ReadonlySet<string> | undefined;
  const stays = (run: string): boolean => {
    newest ??= echoLogsOf(journalFiles(local)[0]);
    return newest.has(run);
  };
  const few = (most: number): number => Math.max(1, Math.floor((most * tenths) / 10));
  const over = await retain(local, { runs, size, stays, dry: true });
  await retainJournals(local, { runs });
  return over === 0 ? 0 : retain(local, { runs: few(runs), size: few(size), stays });
}

/**
 * A run that was resumed has several. Only the lines that name them are looked at: a journal has a line for each row, and this is
 * done at the end of a command that may have sent a single request.
 */
function echoLogsOf(journal: JournalFile | undefined): ReadonlySet<string> {
  return new Set(journal ? linesThatBegin(journal.path, beginnings, longestBeginning).map(runIn) : []);
}

const beginnings = ['{"line":"run","run":"', '{"line":"resumed","run":"'];
const longestBeginning = 100;
const runIn = (beginning: string): string => /"run":"(\w+)"/.exec(beginning)?.[1] ?? '';
