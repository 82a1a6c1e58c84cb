/** A filter: one value in, one value out. */
import { Problem } from '../../problem/problem.js';
import { textOf } from '../../value/text.js';
import { plain, typeOf, type Value } from '../../value/written.js';
import type { Evaluation } from '../evaluation.js';

export interface Filter {
  readonly name: string;
  readonly about: string;
  readonly example: string;
  /** The least and the most number of arguments. */
  readonly arguments: readonly [number, number];
  readonly load?: () => Promise<unknown>;
  /** It takes a body that stays on the disk. */
  readonly streams?: boolean;
  /** Null of it means that the value is omitted. */
  readonly leavesOut?: boolean;
  /** What it yields may be another thing the next time, whatever it is given. */
  readonly varies?: boolean;
  /** @param evaluation only for a filter that works out expressions of its own */
  apply(input: Value, args: readonly Value[], evaluation: Evaluation): Value;
}

export function wrongInput(filter: string, wanted: string, found: Value): Problem {
  return new Problem('expression-value', {
    what: `${filter} needs ${wanted}, not ${found instanceof Uint8Array ? 'bytes' : typeOf(found)}`,
    data: { filter },
  });
}

/** Text of a scalar; lists, maps and bytes are an error. */
export function wantText(filter: string, input: Value): string {
  const value = plain(input);
  if (value === null || (typeof value === 'object' && input === value)) throw wrongInput(filter, 'a text', input);
  return textOf(input);
}

export function wantNumber(filter: string, input: Value): number {
  const value = plain(input);
  const number = typeof value === 'string' && value.trim() !== '' ? Number(value) : value;
  if (typeof number !== 'number' || Number.isNaN(number)) throw wrongInput(filter, 'a number', input);
  return number;
}

export function wantList(filter: string, input: Value): readonly Value[] {
  if (!Array.isArray(input)) throw wrongInput(filter, 'a list', input);
  return input;
}
