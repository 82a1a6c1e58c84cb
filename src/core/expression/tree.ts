/** A value of a collection file with `${…}` anywhere in it: in the items of lists and the members of maps. */
import type { FilePosition } from '../problem/problem.js';
import { textOf } from '../value/text.js';
import { isValueMap, type Value } from '../value/written.js';
import type { Loads } from './compile.js';
import { type Evaluation, omitted, type Result } from './evaluation.js';
import { compileTemplate, type Template } from './template.js';

export type TreePath = readonly (string | number)[];

/** Where values that were worked out from a secret stand; filled by `evaluate`. */
export interface SecretTrace {
  readonly path: (string | number)[];
  readonly secret: TreePath[];
}

export interface Tree extends Template {
  readonly evaluate: (evaluation: Evaluation, trace?: SecretTrace) => Result;
}

/** @param where the position of a part of the value, for messages */
export function compileTree(
  source: Value,
  where: (path: TreePath) => FilePosition | undefined,
  loads: Loads,
  path: TreePath = [],
): Tree {
  if (Array.isArray(source)) {
    const items = source.map((item: Value, index) => compileTree(item, where, loads, [...path, index]));
    return items.every(isConstant) ? constantTree(source) : listTree(source, items);
  }
  if (isValueMap(source)) {
    const members = Object.entries(source).map(
      ([key, item]) => [key, compileTree(item, where, loads, [...path, key])] as const,
    );
    return members.every(([, item]) => isConstant(item)) ? constantTree(source) : mapTree(source, members);
  }
  const template = compileTemplate(
    source,
    typeof source === 'string' && source.includes('${') ? where(path) : undefined,
    loads,
  );
  return template.constant === undefined ? leafTree(template) : constantTree(template.constant);
}

const isConstant = (tree: Tree): boolean => tree.constant !== undefined;

function constantTree(value: Value): Tree {
  return { text: textOf(value), constant: value, evaluate: () => value };
}

function leafTree(template: Template): Tree {
  return {
    text: template.text,
    constant: undefined,
    evaluate(e, trace) {
      if (!trace) return template.evaluate(e);
      const before = e.touchedSecret;
      e.touchedSecret = false;
      const value = template.evaluate(e);
      if (e.touchedSecret) trace.secret.push([...trace.path]);
      else e.touchedSecret = before;
      return value;
    },
  };
}

function listTree(source: Value, items: readonly Tree[]): Tree {
  return {
    text: textOf(source),
    constant: undefined,
    evaluate(e, trace) {
      const values: Value[] = [];
      for (const item of items) {
        trace?.path.push(values.length);
        const value = item.evaluate(e, trace);
        trace?.path.pop();
        if (value !== omitted) values.push(value);
      }
      return values;
    },
  };
}

function mapTree(source: Value, members: readonly (readonly [string, Tree])[]): Tree {
  return {
    text: textOf(source),
    constant: undefined,
    evaluate(e, trace) {
      const map: Record<string, Value> = {};
      for (const [key, member] of members) {
        trace?.path.push(key);
        const value = member.evaluate(e, trace);
        trace?.path.pop();
        if (value === omitted) continue;
        // A key such as __proto__ is data like any other.
        if (key === '__proto__')
          Object.defineProperty(map, key, { value, enumerable: true, configurable: true, writable: true });
        else map[key] = value;
      }
      return map;
    },
  };
}

/** The value with what stands at the paths replaced. */
export function replacedAt(value: Value, paths: readonly TreePath[], replacement: Value): Value {
  if (paths.length === 0) return value;
  if (paths.some((path) => path.length === 0)) return replacement;
  const below = (key: string | number): TreePath[] =>
    paths.filter(([first]) => first === key).map((path) => path.slice(1));
  if (Array.isArray(value)) return value.map((item: Value, index) => replacedAt(item, below(index), replacement));
  if (!isValueMap(value)) return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, item]) => [key, replacedAt(item, below(key), replacement)]),
  );
}
