/** Writing several files that belong together: all of them are there, or those from before. */
import { closeSync, mkdirSync, openSync, renameSync, rmSync, writeSync } from 'node:fs';
import { join } from 'node:path';
import { besideOf } from './atomic-write.js';

/** Characters that are gathered before they are written. */
const gathered = 1 << 20;

/** @param files the pieces of each file, by its name; written one after the other, so that no file is held whole */
export function writeFolderAtomically(folder: string, files: Readonly<Record<string, Iterable<string>>>): void {
  const fresh = besideOf(folder);
  rmSync(fresh, { recursive: true, force: true });
  mkdirSync(fresh, { recursive: true });
  try {
    for (const [name, pieces] of Object.entries(files)) writeFile(join(fresh, name), pieces);
    rmSync(folder, { recursive: true, force: true });
    renameSync(fresh, folder);
  } catch (error) {
    rmSync(fresh, { recursive: true, force: true });
    throw error;
  }
}

function writeFile(path: string, pieces: Iterable<string>): void {
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
  } finally {
    closeSync(file);
  }
}
