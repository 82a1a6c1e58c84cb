/** The names that a value of a file uses, for checks that have no values. */
import { isValueMap, type Value } from '../value/written.js';
import { parseExpression } from './parser.js';
import { sources } from './sources/registry.js';
import type { Expression, PathStep } from './syntax.js';
import { expressionsIn } from './template.js';
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

/** Expectations are keys; of all others a `${…}` is a text like any other. */
const isQuery = /^(?:\$[.[]|[/(]|[a-z-]+\()/;

/** @throws Problem expression-syntax */
export function namesUsed(value: Value, path: TreePath = []): NameUse[] {
  if (typeof value === 'string') {
    return value.includes('${')
      ? expressionsIn(value).flatMap((text) => inExpression(parseExpression(text), path, false))
      : [];
  }
  if (Array.isArray(value)) return value.flatMap((item: Value, index) => namesUsed(item, [...path, index]));
  if (!isValueMap(value)) return [];
  return Object.entries(value).flatMap(([key, item]) => {
    const inner = [...path, key];
    const ofKey = key.includes('${') && isQuery.test(key) ? namesUsed(key, inner) : [];
    return [...ofKey, ...namesUsed(item, inner)];
  });
}

function inExpression(node: Expression, path: TreePath, optional: boolean): NameUse[] {
  switch (node.kind) {
    case 'literal':
      return [];
    case 'call':
      return node.args.flatMap((arg) => inExpression(arg, path, optional));
    case 'filter':
      return [node.input, ...node.args].flatMap((part) => inExpression(part, path, optional));
    case 'fallback':
      return [...inExpression(node.first, path, true), ...inExpression(node.otherwise, path, optional)];
    case 'path': {
      const inner = node.steps.flatMap((step) =>
        'computed' in step ? inExpression(step.computed, path, optional) : [],
      );
      const [first] = node.steps;
      if (node.name === 'secret')
        return [
          {
            name: 'secret',
            path,
            optional,
            keys: keysOf(node.steps),
            ...(node.steps.some((step) => 'computed' in step) && { computed: true }),
            ...(first && 'key' in first && { secret: String(first.key) }),
          },
          ...inner,
        ];
      // A source such as `now` is no name, unless a layer has one of that name, which does no harm here.
      return sources.get(node.name)?.bare && node.steps.length === 0
        ? inner
        : [{ name: node.name, path, optional, ...(node.steps.length > 0 && { keys: keysOf(node.steps) }) }, ...inner];
    }
  }
}

function keysOf(steps: readonly PathStep[]): string[] {
  const end = steps.findIndex((step) => 'computed' in step);
  return steps.slice(0, end === -1 ? undefined : end).map((step) => ('key' in step ? String(step.key) : ''));
}
