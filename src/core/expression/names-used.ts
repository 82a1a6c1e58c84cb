/** The names that a value of a file uses, for checks that have no values. */
import type { Value } from '../value/written.js';
import { type PartUse, partsUsed } from './parts-used.js';
import { sourceOf } from './sources/registry.js';
import type { PathStep } from './syntax.js';
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
  /** A key of it is computed. */
  readonly computed?: true;
}

/** @throws Problem expression-syntax */
export const namesUsed = (value: Value, path: TreePath = []): NameUse[] =>
  [...partsUsed(value, path)].flatMap((use) => nameOf(use) ?? []);

/** Names as they are written, those of sources among them: a name of the collection wins over a source. */
export const namesWritten = (value: Value): string[] =>
  [...partsUsed(value)].flatMap(({ node }) => (node.kind === 'path' ? node.name : []));

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
  // A source such as `now` is no name that anybody has to give.
  if (sourceOf(name)?.bare && first === undefined) return undefined;
  return { name, path, optional, ...(first && { keys: keysOf(steps) }) };
}

/** The keys behind a name, as far as they are written out. */
function keysOf(steps: readonly PathStep[]): string[] {
  const end = steps.findIndex((step) => 'computed' in step);
  return steps.slice(0, end === -1 ? undefined : end).map((step) => ('key' in step ? String(step.key) : ''));
}
