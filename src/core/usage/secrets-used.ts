/** The secrets that the files of a collection use, and where. */
import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { join, sep } from 'node:path';
import type { Collection } from '../collection/collection.js';
import { kindFolders } from '../collection/file-names.js';
import { manifestName } from '../collection/find-collection.js';
import { namesUsed } from '../expression/names-used.js';

/** Templates are no YAML: an expression in them is looked for as text. */
const inText = /\$\{[^{}]*?\bsecret\.([\p{L}_][\p{L}\p{N}_-]*)/gu;

/** By the name of the secret, the files that use it, sorted. A file that cannot be read uses none: check says what is wrong. */
export function secretsUsed(collection: Collection): ReadonlyMap<string, readonly string[]> {
  const { root } = collection;
  const used = new Map<string, Set<string>>();
  const files = [
    manifestName,
    ...[...Object.values(kindFolders), 'bodies'].flatMap((folder) => filesBelow(root, folder)),
  ];
  for (const file of files)
    for (const name of file.startsWith('bodies/') ? inTemplate(root, file) : inFile(collection, file))
      used.set(name, (used.get(name) ?? new Set()).add(file));
  return new Map(
    [...used].sort(([a], [b]) => a.localeCompare(b)).map(([name, places]) => [name, [...places].sort()] as const),
  );
}

function filesBelow(root: string, folder: string): string[] {
  if (!existsSync(join(root, folder))) return [];
  return readdirSync(join(root, folder), { recursive: true, encoding: 'utf8' })
    .filter((path) => (folder === 'bodies' || path.endsWith('.yaml')) && statSync(join(root, folder, path)).isFile())
    .map((path) => `${folder}/${path.split(sep).join('/')}`);
}

function inFile(collection: Collection, file: string): string[] {
  try {
    return namesUsed(collection.yaml(file).value).flatMap(({ secret, optional }) =>
      secret !== undefined && !optional ? [secret] : [],
    );
  } catch {
    return [];
  }
}

const inTemplate = (root: string, file: string): string[] =>
  [...readFileSync(join(root, file), 'utf8').matchAll(inText)].map(([, name]) => name as string);
