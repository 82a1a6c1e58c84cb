/** Deleting old journals, and what they tell of. */
import { rm } from 'node:fs/promises';
import { retain } from '../../echo/retain.js';
import { filesIn } from '../../storage/files-in.js';
import { jsonLines } from '../../storage/json-lines.js';
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
  let newest: Promise<ReadonlySet<string>> | undefined;
  const stays = async (run: string): Promise<boolean> => {
    newest ??= echoLogsOf(journalFiles(local)[0]);
    return (await newest).has(run);
  };
  const few = (most: number): number => Math.max(1, Math.floor((most * tenths) / 10));
  const over = await retain(local, { runs, size, stays, dry: true });
  await retainJournals(local, { runs });
  return over === 0 ? 0 : retain(local, { runs: few(runs), size: few(size), stays });
}

/** A run that was resumed has several. */
async function echoLogsOf(journal: JournalFile | undefined): Promise<ReadonlySet<string>> {
  const logs = new Set<string>();
  if (!journal) return logs;
  const beginning = /^\{"line":"(?:run|resumed)","run":"(\w+)"/;
  for await (const run of jsonLines(journal.path, (line) => beginning.exec(line)?.[1])) {
    if (typeof run === 'string') logs.add(run);
  }
  return logs;
}
