/** Files that are to be written into a collection together: all, or none. */
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Problem } from '../problem/problem.js';
import { writeAtomically } from '../storage/atomic-write.js';
import { pathInside, placeInside } from '../storage/inside.js';

export interface NewFile {
  /** From the collection. */
  readonly file: string;
  readonly text: string | Uint8Array;
}

export interface WrittenFiles {
  readonly written: readonly string[];
  /** Were there already, with the same content. */
  readonly unchanged: readonly string[];
}

/** @returns its text; undefined where there is none */
export function existingText(root: string, file: string): string | undefined {
  return existsSync(join(root, file)) ? readFileSync(pathInside(root, file), 'utf8') : undefined;
}

/** @throws Problem file-exists: one of them is there with another content; then nothing is written */
export async function writeNewFiles(root: string, files: readonly NewFile[]): Promise<WrittenFiles> {
  const places = files.map(({ file, text }) => ({ file, text, path: placeInside(root, file) }));
  const [written, unchanged, changed]: [typeof places, string[], string[]] = [[], [], []];
  for (const one of places) {
    if (!existsSync(one.path)) written.push(one);
    else if (Buffer.compare(readFileSync(pathInside(root, one.file)), Buffer.from(one.text)) === 0)
      unchanged.push(one.file);
    else changed.push(one.file);
  }
  const [first] = changed;
  if (first !== undefined) {
    throw new Problem('file-exists', {
      what:
        changed.length === 1
          ? `${first} already exists with different content`
          : `${changed.length} files already exist with different content: ${changed.slice(0, 5).join(', ')}${changed.length > 5 ? ', …' : ''}`,
      where: { file: first },
      cause: 'nothing was written',
    });
  }
  for (const { path, text } of written) await writeAtomically(path, text);
  return { written: written.map(({ file }) => file), unchanged };
}
