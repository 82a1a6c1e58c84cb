/** The expressions in a value of a file, part by part, for checks that have no values. */
import { isValueMap, type Value } from '../value/written.js';
import { parseExpression } from './parser.js';
import type { Expression } from './syntax.js';
import { expressionsIn } from './template.js';
import type { TreePath } from './tree.js';

export interface PartUse {
  /** An expression, or what is inside of one: the whole comes before its parts. */
  readonly node: Expression;
  /** Where in the value the text stands. */
  readonly path: TreePath;
  /** Another value stands behind `??`. */
  readonly optional: boolean;
}

/** Expectations are keys; of all others a `${…}` is a text like any other. */
const isQuery = /^(?:\$[.[]|[/(]|[a-z-]+\()/;

/** @throws Problem expression-syntax */
export function* partsUsed(value: Value, path: TreePath = []): Generator<PartUse> {
  if (typeof value === 'string') {
    if (!value.includes('${')) return;
    for (const text of expressionsIn(value)) yield* within({ node: parseExpression(text), path, optional: false });
  } else if (Array.isArray(value)) {
    for (const [index, item] of value.entries()) yield* partsUsed(item as Value, [...path, index]);
  } else if (isValueMap(value)) {
    for (const [key, item] of Object.entries(value)) {
      const inner = [...path, key];
      if (key.includes('${') && isQuery.test(key)) yield* partsUsed(key, inner);
      yield* partsUsed(item, inner);
    }
  }
}

function* within(use: PartUse): Generator<PartUse> {
  yield use;
  const { node } = use;
  switch (node.kind) {
    case 'literal':
      return;
    case 'path':
      for (const step of node.steps) if ('computed' in step) yield* within({ ...use, node: step.computed });
      return;
    case 'fallback':
      yield* within({ ...use, node: node.first, optional: true });
      yield* within({ ...use, node: node.otherwise });
      return;
    case 'filter':
    case 'call':
      for (const part of node.kind === 'filter' ? [node.input, ...node.args] : node.args)
        yield* within({ ...use, node: part });
  }
}
