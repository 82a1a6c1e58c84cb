/** The names that a value of a file uses, for checks that have no values. */
import type { Value } from '../value/written.js';
import { keysOf, type PartUse, partsUsed } from './parts-used.js';
import { sourceOf } from './sources/registry.js';
import type { TreePath } from './tree.js';

export interface NameUse {
  readonly name: string;
  /** Where in the value the text stands. */
  readonly path: TreePath;
  /** Another value stands behind `??`. */
  readonly optional: boolean;
  /** The secret's own name, where the name is `secret`. */
  readonly secret?: string;
  /** The keys behind the name, as far as they are written out: `["header", "date"]` of `sent.header.date`. */
  readonly keys?: readonly string[];
  /** A key of it is worked out. */
  readonly computed?: true;
}

/** @throws Problem expression-syntax */
export const namesUsed = (value: Value, path: TreePath = []): NameUse[] =>
  [...partsUsed(value, path)].flatMap((use) => nameOf(use) ?? []);

function nameOf({ node, path, optional }: PartUse): NameUse | undefined {
  if (node.kind !== 'path') return undefined;
  const { name, steps } = node;
  const [first] = steps;
  if (name === 'secret') {
    return {
      name,
      path,
      optional,
      keys: keysOf(steps),
      ...(steps.some((step) => 'computed' in step) && { computed: true }),
      ...(first && 'key' in first && { secret: String(first.key) }),
    };
  }
  // A source such as `now` is no name, unless a layer has one of that name, which does no harm here.
  if (sourceOf(name)?.bare && first === undefined) return undefined;
  return { name, path, optional, ...(first && { keys: keysOf(steps) }) };
}
