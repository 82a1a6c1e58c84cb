/** The files that expressions in a value of a file name, where a name is written out: `${file("data/plan.pdf")}`. */
import type { Value } from '../value/written.js';
import { partsUsed } from './parts-used.js';
import type { TreePath } from './tree.js';

/** A file of the collection, by a name that is written out. */
export interface NamedFile {
  readonly file: string;
  /** Where in the value it is named. */
  readonly path: TreePath;
}

/** Sources that read the file which they are given. */
const readers = new Set(['file', 'render']);

/** @throws Problem expression-syntax */
export const filesUsed = (value: Value, path: TreePath = []): NamedFile[] =>
  [...partsUsed(value, path)].flatMap(({ node, path: at }) => {
    if (node.kind !== 'call' || !readers.has(node.name)) return [];
    const [named] = node.args;
    return named?.kind === 'literal' && typeof named.value === 'string' ? [{ file: named.value, path: at }] : [];
  });
