/** Paths that must stay inside the collection folder, symbolic links resolved. */
import { realpathSync, statSync } from 'node:fs';
import { isAbsolute, relative, resolve, sep } from 'node:path';
import { Problem } from '../problem/problem.js';

/**
 * The real path of an existing file named relative to `root`.
 * @throws Problem file-outside, file-not-found
 */
export function pathInside(root: string, named: string): string {
  const wanted = resolve(root, named);
  if (!isWithin(root, wanted)) throw outside(named);
  let real: string;
  try {
    real = realpathSync(wanted);
  } catch {
    throw new Problem('file-not-found', {
      what: `${named} does not exist`,
      remedy: `files are named from the collection folder, ${root}`,
      data: { file: named },
    });
  }
  if (!isWithin(realpathSync(root), real)) throw outside(named);
  if (!statSync(real).isFile())
    throw new Problem('file-unreadable', {
      what: `${named} is not a file`,
      where: { file: named },
      data: { file: named },
    });
  return real;
}

function isWithin(root: string, path: string): boolean {
  const way = relative(root, path);
  return way === '' || !(way === '..' || way.startsWith(`..${sep}`) || isAbsolute(way));
}

function outside(named: string): Problem {
  return new Problem('file-outside', {
    what: `${named} lies outside the collection folder`,
    cause: 'a collection reads no file outside its own folder, so that it can be opened without fear',
    remedy: 'copy the file into the collection, for example into data/',
    data: { file: named },
  });
}
