/** A value of a collection file with `${…}` anywhere in it: in the items of lists and the members of maps. */
import type { FilePosition } from '../problem/problem.js';
import { textOf } from '../value/text.js';
import { isValueMap, type Value } from '../value/written.js';
import type { Loads } from './compile.js';
import { type Evaluation, masked, omitted, type Piece, type Result } from './evaluation.js';
import { compileTemplate, type Template } from './template.js';

export type TreePath = readonly (string | number)[];

/** Where values that were computed from a secret stand; filled by `evaluate`. */
export interface SecretTrace {
  readonly path: (string | number)[];
  readonly secret: SecretAt[];
}

export interface SecretAt {
  readonly path: TreePath;
  /** Of a text that was put together around a secret. */
  readonly pieces: readonly Piece[];
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
    return items.every(isConstant)
      ? constantTree(items.map(({ constant }) => constant as Value))
      : listTree(source, items);
  }
  if (isValueMap(source)) {
    const members = Object.entries(source).map(
      ([key, item]) => [key, compileTree(item, where, loads, [...path, key])] as const,
    );
    if (!members.every(([, item]) => isConstant(item))) return mapTree(source, members);
    return constantTree(mapOf(members.map(([key, { constant }]) => [key, constant as Value])));
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
      const { result, secret, pieces } = e.inPieces(() => template.evaluate(e));
      if (secret) trace.secret.push({ path: [...trace.path], pieces });
      return result;
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
        if (value !== omitted) put(map, key, value);
      }
      return map;
    },
  };
}

/** A key such as __proto__ is data like any other. */
function put(map: Record<string, Value>, key: string, value: Value): void {
  if (key !== '__proto__') map[key] = value;
  else Object.defineProperty(map, key, { value, enumerable: true, configurable: true, writable: true });
}

function mapOf(entries: readonly (readonly [string, Value])[]): Value {
  const map: Record<string, Value> = {};
  for (const [key, value] of entries) put(map, key, value);
  return map;
}

/** The value with the secrets in it replaced, and nothing else. */
export function replacedAt(value: Value, secrets: readonly SecretAt[], replacement: string): Value {
  if (secrets.length === 0) return value;
  const here = secrets.find(({ path }) => path.length === 0);
  if (here) return typeof value === 'string' ? masked(value, here.pieces, replacement) : replacement;
  const below = (key: string | number): SecretAt[] =>
    secrets.filter(({ path }) => path[0] === key).map(({ path, pieces }) => ({ path: path.slice(1), pieces }));
  if (Array.isArray(value)) return value.map((item: Value, index) => replacedAt(item, below(index), replacement));
  if (!isValueMap(value)) return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, item]) => [key, replacedAt(item, below(key), replacement)]),
  );
}
