/** Writing several files that belong together: all of them are there, or those from before. */
import { closeSync, fstatSync, mkdirSync, openSync, renameSync, rmSync, writeSync } from 'node:fs';
import { join } from 'node:path';
import { besideOf } from './atomic-write.js';

/** Characters that are gathered before they are written. */
const gathered = 1 << 20;

/** Bytes by the name of a file. */
export type Sizes = Readonly<Record<string, number>>;

/**
 * @param files the pieces of each file, by its name; written one after the other, so that no file is held whole
 * @param last one that says how large the others are
 */
export function writeFolderAtomically(
  folder: string,
  files: Readonly<Record<string, Iterable<string>>>,
  last: { readonly name: string; readonly text: (sizes: Sizes) => string },
): void {
  const fresh = besideOf(folder);
  rmSync(fresh, { recursive: true, force: true });
  mkdirSync(fresh, { recursive: true });
  try {
    const sizes: Record<string, number> = {};
    for (const [name, pieces] of Object.entries(files)) sizes[name] = writeFile(join(fresh, name), pieces);
    writeFile(join(fresh, last.name), [last.text(sizes)]);
    rmSync(folder, { recursive: true, force: true });
    renameSync(fresh, folder);
  } catch (error) {
    rmSync(fresh, { recursive: true, force: true });
    throw error;
  }
}

/** @returns bytes */
function writeFile(path: string, pieces: Iterable<string>): number {
  const file = openSync(path, 'w');
  try {
    let waiting: string[] = [];
    let size = 0;
    for (const piece of pieces) {
      waiting.push(piece);
      size += piece.length;
      if (size < gathered) continue;
      writeSync(file, waiting.join(''));
      waiting = [];
      size = 0;
    }
    writeSync(file, waiting.join(''));
    return fstatSync(file).size;
  } finally {
    closeSync(file);
  }
}
