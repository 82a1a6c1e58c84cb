/**
 * A small file of the local state that several commands may change at the same time: read, changed and written again under a
 * lock, so that none undoes what another has done.
 */
import { readFile } from 'node:fs/promises';
import { asProblem } from '../problem/problem.js';
import { parseJson, writeJson } from '../value/json-text.js';
import type { Value } from '../value/written.js';
import { writeAtomically } from './atomic-write.js';
import { withFileLock } from './file-lock.js';

/** How a kind of file is read and written. */
export interface StoredFile<T> {
  readonly path: string;
  /** What is stored, or nothing of it where the file does not exist yet. @throws Problem */
  read(): Promise<T>;
  write(content: T): Promise<void>;
}

export interface SharedFile<T> {
  read(): Promise<T>;
  /** @param change returns undefined where there is nothing to change @returns whether it was changed */
  change(change: (content: T) => T | undefined): Promise<boolean>;
}

export const shared = <T>(file: StoredFile<T>): SharedFile<T> => ({
  read: file.read,
  change: (change) =>
    withFileLock(file.path, async () => {
      const next = change(await file.read());
      if (next === undefined) return false;
      await file.write(next);
      return true;
    }),
});

/** The text of a file; undefined where it does not exist yet. @throws Problem file-unreadable */
export async function storedText(path: string): Promise<string | undefined> {
  try {
    return await readFile(path, 'utf8');
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOENT') return undefined;
    throw asProblem(error, path);
  }
}

/** In the open, and for this user alone. One that is not what Echo Trail wrote counts as empty: what is in it can be had again. */
export const openFile = <T>(path: string, parse: (content: unknown) => T, empty: T): StoredFile<T> => ({
  path,
  async read() {
    const text = await storedText(path);
    try {
      return text === undefined ? empty : parse(parseJson(text));
    } catch {
      return empty;
    }
  },
  write: (content) => writeAtomically(path, `${writeJson(content as Value, 2)}\n`, { mode: 0o600 }),
});
