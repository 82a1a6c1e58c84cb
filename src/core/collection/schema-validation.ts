/** Holding a file against its schema: the first finding as an error, or all of them as a list. */

import type { $ZodIssue, $ZodType, output } from 'zod/v4/core';
import { safeParse } from 'zod/v4/core';
import { nearest } from '../problem/nearest.js';
import { Problem } from '../problem/problem.js';
import { ownMember } from '../value/own-member.js';
import { typeOf, type Value } from '../value/written.js';
import type { YamlFile } from './yaml.js';

/** @throws Problem file-shape, the first of `shapeProblems` */
export function shaped<S extends $ZodType>(schema: S, file: YamlFile): output<S> {
  const result = safeParse(schema, file.value);
  if (result.success) return result.data;
  throw (
    problemsOf(schema, result.error.issues, file)[0] ??
    new Problem('file-shape', { what: `${file.file} has the wrong shape` })
  );
}

/** Everything that is wrong with a file. */
export function shapeProblems(schema: $ZodType, file: YamlFile): Problem[] {
  const result = safeParse(schema, file.value);
  return result.success ? [] : problemsOf(schema, result.error.issues, file);
}

function problemsOf(schema: $ZodType, issues: readonly $ZodIssue[], file: YamlFile): Problem[] {
  return issues.flatMap((issue) => problemOf(schema, issue, file));
}

function problemOf(schema: $ZodType, issue: $ZodIssue, file: YamlFile): Problem[] {
  const path = issue.path.map((key) => (typeof key === 'symbol' ? String(key) : key));
  const found = valueAt(file.value, path);
  const make = (
    what: string,
    remedy?: string,
    at: readonly (string | number)[] = path,
    part: 'key' | 'value' = 'value',
  ): Problem => {
    const where = file.position(at, part);
    const line = file.line(where);
    const excerpt = line === undefined ? undefined : `${line}\n${' '.repeat(Math.max(0, (where.column ?? 1) - 1))}^`;
    return new Problem('file-shape', { what, where, remedy, excerpt, data: { key: at.join('.') } });
  };
  switch (issue.code) {
    case 'unrecognized_keys': {
      const allowed = keysAt(schema, path);
      return issue.keys.map((key) => {
        const near = nearest(key, allowed);
        const remedy =
          near === undefined
            ? allowed.length > 0
              ? `known here: ${allowed.join(', ')}`
              : undefined
            : `did you mean ${near}?`;
        return make(`${keyText([...path, key])} is not a key that is known here`, remedy, [...path, key], 'key');
      });
    }
    case 'invalid_type': {
      if (found === undefined)
        return [make(`${keyText(path)} is missing`, `expected ${kindName(issue.expected)}`, path.slice(0, -1), 'key')];
      return [
        make(
          `${keyText(path)} must be ${kindName(issue.expected)}, not ${foundText(found)}`,
          quotesHint(found, issue.expected),
        ),
      ];
    }
    case 'invalid_value': {
      const near = nearest(String(found), issue.values.map(String));
      const known = `allowed: ${issue.values.map(String).join(', ')}`;
      if (found === undefined) return [make(`${keyText(path)} is missing`, known, path.slice(0, -1), 'key')];
      return [
        make(
          `${keyText(path)} cannot be ${foundText(found)}`,
          near === undefined ? known : `did you mean ${near}? ${known}`,
        ),
      ];
    }
    case 'invalid_union': {
      if (issue.errors.length === 0) {
        const key = (issue as { discriminator?: string }).discriminator ?? 'kind';
        // One that may be left out is known as undefined, too.
        const known = [...(schema._zod.propValues?.[key] ?? [])].filter((one) => one !== undefined).map(String);
        const at = path.at(-1) === key ? path : [...path, key];
        const given = valueAt(file.value, at);
        if (given === undefined)
          return [make(`${keyText(at)} is missing`, `allowed: ${known.join(', ')}`, at.slice(0, -1), 'key')];
        const near = nearest(String(given), known);
        return [
          make(
            `${keyText(at)} cannot be ${foundText(given)}`,
            `${near === undefined ? '' : `did you mean ${near}? `}allowed: ${known.join(', ')}`,
            at,
          ),
        ];
      }
      // The alternative that came furthest says most.
      const best =
        [...issue.errors].sort((a, b) => unionDepth(b) - unionDepth(a) || faultCount(a) - faultCount(b))[0] ?? [];
      // A misspelt key is also a missing one; only the first helps.
      const misspelt = best.filter((inner) => inner.code === 'unrecognized_keys');
      const deeper = misspelt.length > 0 ? misspelt : best.filter((inner) => inner.path.length > 0);
      if (deeper.length > 0)
        return problemsOf(
          schema,
          deeper.map((inner) => ({ ...inner, path: [...issue.path, ...inner.path] })),
          file,
        );
      const kinds = [
        ...new Set(
          issue.errors.flat().map((inner) => (inner.code === 'invalid_type' ? kindName(inner.expected) : undefined)),
        ),
      ];
      const wanted = kinds.filter((kind) => kind !== undefined).join(' or ');
      const fallback = issue.errors.flat().find((inner) => inner.message && inner.code === 'custom')?.message;
      return [
        make(
          `${keyText(path)} must be ${wanted || fallback || 'something else'}, not ${foundText(found ?? null)}`,
          quotesHint(found ?? null, 'string'),
        ),
      ];
    }
    default:
      return [make(`${keyText(path)}: ${issue.message}`)];
  }
}

const unionDepth = (issues: readonly $ZodIssue[]): number =>
  Math.max(0, ...issues.map((issue) => issue.path.length + (issue.code === 'unrecognized_keys' ? 1 : 0)));

/** Where two came as far, the one with fewer faults is meant. */
const faultCount = (issues: readonly $ZodIssue[]): number =>
  issues.reduce((sum, issue) => sum + (issue.code === 'unrecognized_keys' ? issue.keys.length : 1), 0);

/** The keys that the schema knows at a path; of a union, those of all its alternatives. */
function keysAt(schema: $ZodType, path: readonly (string | number)[]): readonly string[] {
  const def = schema._zod.def as unknown as {
    type: string;
    shape?: Record<string, $ZodType>;
    innerType?: $ZodType;
    valueType?: $ZodType;
    element?: $ZodType;
    options?: readonly $ZodType[];
    getter?: () => $ZodType;
  };
  if (def.options) return [...new Set(def.options.flatMap((option) => keysAt(option, path)))];
  const inside = def.innerType ?? def.getter?.();
  if (inside) return keysAt(inside, path);
  const [key, ...rest] = path;
  if (key === undefined) return def.shape ? Object.keys(def.shape) : [];
  const next = def.shape?.[key] ?? def.valueType ?? def.element;
  return next ? keysAt(next, rest) : [];
}

function keyText(path: readonly (string | number)[]): string {
  if (path.length === 0) return 'the file';
  return path.map((key, index) => (typeof key === 'number' ? `[${key}]` : index === 0 ? key : `.${key}`)).join('');
}

const names: Record<string, string> = {
  string: 'a text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'true or false',
  array: 'a list',
  object: 'a map of keys',
  record: 'a map of names',
  null: 'nothing',
};
const kindName = (expected: string): string => ownMember(names, expected) ?? expected;

function foundText(found: Value): string {
  const type = typeOf(found);
  if (type === 'object') return 'a map';
  if (type === 'array') return 'a list';
  if (type === 'null') return 'nothing';
  return `${type === 'string' ? 'the text' : `the ${type === 'integer' ? 'number' : type}`} ${typeof found === 'object' ? (found as { text: string }).text : String(found)}`;
}

/** Where YAML made a map, list, number or truth value of what was meant as text. */
function quotesHint(found: Value, expected: string): string | undefined {
  if (expected !== 'string') return undefined;
  const type = typeOf(found);
  if (type === 'object') return 'a text that begins with { needs quotes, as does one that holds ": "';
  if (type === 'array') return 'a text that begins with [ needs quotes';
  if (type === 'null') return 'a text that begins with # needs quotes; an empty text is ""';
  return 'put it in quotes to make it a text';
}

function valueAt(value: Value, path: readonly (string | number)[]): Value | undefined {
  let at: unknown = value;
  for (const key of path) {
    if (typeof at !== 'object' || at === null || !Object.hasOwn(at, key)) return undefined;
    at = (at as Record<string | number, unknown>)[key];
  }
  return at as Value;
}
