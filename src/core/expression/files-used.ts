/** The files that expressions in a value of a file name, where a name is written out: `${file("data/plan.pdf")}`. */
import { isValueMap, type Value } from '../value/written.js';
import { parseExpression } from './parser.js';
import type { Expression } from './syntax.js';
import { expressionsIn } from './template.js';
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
export function filesUsed(value: Value, path: TreePath = []): NamedFile[] {
  if (typeof value === 'string') {
    return value.includes('${')
      ? expressionsIn(value).flatMap((text) => filesIn(parseExpression(text)).map((file) => ({ file, path })))
      : [];
  }
  if (Array.isArray(value)) return value.flatMap((item: Value, index) => filesUsed(item, [...path, index]));
  return isValueMap(value) ? Object.entries(value).flatMap(([key, item]) => filesUsed(item, [...path, key])) : [];
}

function filesIn(node: Expression): string[] {
  switch (node.kind) {
    case 'literal':
      return [];
    case 'path':
      return node.steps.flatMap((step) => ('computed' in step ? filesIn(step.computed) : []));
    case 'fallback':
      return [node.first, node.otherwise].flatMap(filesIn);
    case 'filter':
      return [node.input, ...node.args].flatMap(filesIn);
    case 'call': {
      const [named] = node.args;
      if (!readers.has(node.name) || named?.kind !== 'literal') return node.args.flatMap(filesIn);
      return typeof named.value === 'string' ? [named.value] : [];
    }
  }
}
