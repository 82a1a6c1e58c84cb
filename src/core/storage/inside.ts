/** Paths that must stay inside the collection folder, symbolic links resolved. */
import { existsSync, lstatSync, readdirSync, realpathSync, statSync } from 'node:fs';
import { basename, dirname, isAbsolute, join, normalize, relative, resolve, sep } from 'node:path';
import { nearest } from '../problem/nearest.js';
import { Problem } from '../problem/problem.js';
import { namesIn } from './files-in.js';

/**
 * The real path of an existing file named relative to `root`.
 * @param kind what it may be
 * @throws Problem file-outside, file-not-found
 */
export function pathInside(root: string, named: string, kind: 'file' | 'file or folder' = 'file'): string {
  const wanted = resolve(root, named);
  if (!isWithin(root, wanted)) throw outside(named);
  requireVisible(root, wanted, named);
  let real: string;
  try {
    real = realpathSync(wanted);
  } catch {
    const meant = nearFile(root, named);
    throw new Problem('file-not-found', {
      what: `${named} does not exist`,
      remedy: `${meant === undefined ? '' : `did you mean ${meant}? `}files are named from the collection folder, ${root}`,
      data: { file: named },
    });
  }
  if (!isWithin(realpathSync(root), real)) throw outside(named);
  requireVisible(realpathSync(root), real, named);
  const found = statSync(real);
  if (!found.isFile() && !(kind === 'file or folder' && found.isDirectory()))
    throw new Problem('file-unreadable', {
      what: `${named} is not a file`,
      where: { file: named },
      remedy: 'move it away',
      data: { file: named },
    });
  return real;
}

/** A file of the collection that may be meant: one beside it with nearly its name, or one elsewhere with the same. */
function nearFile(root: string, named: string): string | undefined {
  const folder = normalize(dirname(named));
  const within = (inner: string): string[] => {
    const path = resolve(root, inner);
    if (!isWithin(root, path)) return [];
    const entries = safely(() => readdirSync(path, { withFileTypes: true })) ?? [];
    return entries.filter((entry) => entry.isFile()).map(({ name }) => join(inner, name));
  };
  const near = nearest(normalize(named), within(folder));
  if (near !== undefined) return near;
  const folders = (safely(() => readdirSync(root, { withFileTypes: true })) ?? []).filter(
    (entry) => entry.isDirectory() && !entry.name.startsWith('.'),
  );
  return ['.', ...folders.map(({ name }) => name)].flatMap(within).find((path) => basename(path) === basename(named));
}

function safely<T>(work: () => T): T | undefined {
  try {
    return work();
  } catch {
    return undefined;
  }
}

/**
 * The path of a file that is to be written, named relative to `root`; the folders above it may not lead out.
 * @throws Problem file-outside
 */
export function placeInside(root: string, named: string): string {
  const wanted = resolve(root, named);
  requireVisible(root, wanted, named);
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
export function requireNoLinks(root: string, named: string): void {
  const path = join(root, named);
  const found = lstatSync(path, { throwIfNoEntry: false });
  if (!found) return;
  if (found.isSymbolicLink()) throw outside(named);
  for (const entry of readdirSync(path, { withFileTypes: true })) {
    const inner = `${named}/${entry.name}`;
    if (entry.isSymbolicLink()) throw outside(inner);
    if (!entry.isDirectory()) continue;
    // There may be many echoes; of what lies beside them the folder alone has a name that can be known before.
    const names = entry.name === 'echoes' ? ['bodies'] : namesIn(join(root, inner));
    for (const name of names)
      if (lstatSync(join(root, inner, name), { throwIfNoEntry: false })?.isSymbolicLink())
        throw outside(`${inner}/${name}`);
  }
}

/**
 * What begins with a dot is no part of a collection: records and secrets of its user, or the credentials and hooks of version
 * control.
 * @throws Problem file-outside
 */
function requireVisible(root: string, path: string, named: string): void {
  const hiddenPart = relative(root, path)
    .split(sep)
    .find((part) => part.startsWith('.') && part !== '..');
  if (hiddenPart === undefined) return;
  throw new Problem('file-outside', {
    what: `${named} is hidden, or lies in a hidden folder`,
    cause: 'what begins with a dot is for programs, such as the local state of Echo Trail or of version control',
    remedy: 'name a place that everybody sees, such as data/…',
    data: { file: named },
  });
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
