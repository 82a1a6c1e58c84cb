/** The function extensions of RFC 9535 section 2.4. */
import { plain, type Value } from '../../value/written.js';
import { containsMatch, loadRegexp, matchesWhole } from './regexp.js';

/** The types of section 2.4.1. */
export type FunctionType = 'value' | 'logical' | 'nodes';

/** undefined stands for the special result Nothing. */
export type ValueOrNothing = Value | undefined;

export interface FunctionExtension {
  readonly name: string;
  readonly takes: readonly FunctionType[];
  readonly gives: FunctionType;
  readonly load?: () => Promise<unknown>;
  /** Arguments by their type: a value or Nothing, or a list of node values. */
  call(args: readonly (ValueOrNothing | readonly Value[])[]): ValueOrNothing | boolean;
}

/** Section 2.4.4: Unicode scalar values, items or members. */
const length: FunctionExtension = {
  name: 'length',
  takes: ['value'],
  gives: 'value',
  call([given]) {
    const value = plain(given as ValueOrNothing);
    if (typeof value === 'string') return [...value].length;
    if (Array.isArray(value)) return value.length;
    return typeof value === 'object' && value !== null ? Object.keys(value).length : undefined;
  },
};

/** Section 2.4.5. */
const count: FunctionExtension = {
  name: 'count',
  takes: ['nodes'],
  gives: 'value',
  call: ([nodes]) => (nodes as readonly Value[]).length,
};

/** Section 2.4.6. */
const match: FunctionExtension = {
  name: 'match',
  takes: ['value', 'value'],
  gives: 'logical',
  load: loadRegexp,
  call: ([text, pattern]) => typeof text === 'string' && typeof pattern === 'string' && matchesWhole(pattern, text),
};

/** Section 2.4.7. */
const search: FunctionExtension = {
  name: 'search',
  takes: ['value', 'value'],
  gives: 'logical',
  load: loadRegexp,
  call: ([text, pattern]) => typeof text === 'string' && typeof pattern === 'string' && containsMatch(pattern, text),
};

/** Section 2.4.8. */
const value: FunctionExtension = {
  name: 'value',
  takes: ['nodes'],
  gives: 'value',
  call([nodes]) {
    const [first, ...more] = nodes as readonly Value[];
    return more.length === 0 ? first : undefined;
  },
};

export const functionExtensions: ReadonlyMap<string, FunctionExtension> = new Map(
  [length, count, match, search, value].map((extension) => [extension.name, extension]),
);
