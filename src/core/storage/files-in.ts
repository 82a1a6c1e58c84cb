/** The files of a folder as they are now: other processes make and remove some meanwhile. */
import { readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';

export interface FileNow {
  readonly name: string;
  readonly path: string;
  /** Bytes. */
  readonly size: number;
  /** Milliseconds since the epoch. */
  readonly mtimeMs: number;
}

/** Names of what is in it; none where it is not there, or not any more. */
export function namesIn(folder: string): readonly string[] {
  try {
    return readdirSync(folder);
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'ENOENT') return [];
    throw error;
  }
}

/** @param wanted by their names */
export const filesIn = (folder: string, wanted: (name: string) => boolean = () => true): readonly FileNow[] =>
  namesIn(folder)
    .filter(wanted)
    .flatMap((name) => {
      const path = join(folder, name);
      const found = statSync(path, { throwIfNoEntry: false });
      return found ? [{ name, path, size: found.size, mtimeMs: found.mtimeMs }] : [];
    });
