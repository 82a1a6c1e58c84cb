/** Letting old journals go. */
import { readdirSync, statSync } from 'node:fs';
import { rm } from 'node:fs/promises';
import { join } from 'node:path';
import { journalFolder } from './journal.js';

/** @param since milliseconds since the epoch: what ended before goes @returns how many went */
export async function retainJournals(
  local: string,
  { runs, since = 0 }: { runs: number; since?: number },
): Promise<number> {
  const folder = journalFolder(local);
  let files: string[];
  try {
    files = readdirSync(folder).filter((file) => file.endsWith('.jsonl'));
  } catch {
    return 0;
  }
  const byAge = files
    .map((file) => ({ path: join(folder, file), at: statSync(join(folder, file)).mtimeMs }))
    .sort((a, b) => b.at - a.at);
  const old = byAge.filter(({ at }, index) => index >= runs || at < since);
  for (const { path } of old) await rm(path, { force: true });
  return old.length;
}
