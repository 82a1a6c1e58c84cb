/** Paths that must stay inside the collection folder, symbolic links resolved. */
import { existsSync, lstatSync, readdirSync, realpathSync, statSync } from 'node:fs';
import { dirname, isAbsolute, join, relative, resolve, sep } from 'node:path';
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

/**
 * The path of a file that is to be written, named relative to `root`; the folders above it may not lead out.
 * @throws Problem file-outside
 */
export function placeInside(root: string, named: string): string {
  const wanted = resolve(root, named);
  let above = existsSync(wanted) ? wanted : dirname(wanted);
  while (!existsSync(above)) above = dirname(above);
  if (isWithin(root, wanted) && isWithin(realpathSync(root), realpathSync(above))) return wanted;
  throw outside(named);
}

/**
 * A folder that is written to without being named by anybody: neither it nor what it holds may be a link, since who made
 * the collection could have it written to elsewhere.
 * @throws Problem file-outside
 */
export function demandNoLinks(root: string, named: string): void {
  const path = join(root, named);
  const found = lstatSync(path, { throwIfNoEntry: false });
  if (!found) return;
  if (found.isSymbolicLink()) throw outside(named);
  const link = readdirSync(path, { withFileTypes: true }).find((entry) => entry.isSymbolicLink());
  if (link) throw outside(`${named}/${link.name}`);
}

function isWithin(root: string, path: string): boolean {
  const way = relative(root, path);
  return way === '' || !(way === '..' || way.startsWith(`..${sep}`) || isAbsolute(way));
}

function outside(named: string): Problem {
  return new Problem('file-outside', {
    what: `${named} lies outside the collection folder`,
    cause: 'a collection reads and writes no file outside its own folder, so that it can be opened without fear',
    remedy: 'copy the file into the collection, for example into data/; a link is as good as the place it leads to',
    data: { file: named },
  });
}
