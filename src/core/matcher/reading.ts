/** Reading expected and found values as what the place makes of them. */
import { Problem } from '../problem/problem.js';
import { equalValues } from '../value/equal.js';
import { durationText, parseDuration, parseSize, sizeText } from '../value/measures.js';
import { textOf } from '../value/text.js';
import { plain, typeOf, type Value } from '../value/written.js';
import type { Subject } from './matcher.js';

export function shapeProblem(matcher: string, wanted: string, found: Value): Problem {
  return new Problem('matcher-shape', {
    what: `${matcher} takes ${wanted}, not ${typeOf(found)} ${shortText(found)}`,
    data: { matcher },
  });
}

/** A value in at most 120 characters, for messages. */
export function shortText(value: Value | undefined): string {
  if (value === undefined) return 'nothing';
  const text = typeof value === 'string' ? JSON.stringify(value) : textOf(value);
  return text.length > 120 ? `${text.slice(0, 117)}…` : text;
}

/** A number in the unit of its place, as people write it. */
export const measureText = (number: number, unit: Subject['unit']): string =>
  unit === 'duration' ? durationText(number) : unit === 'size' ? sizeText(number) : String(number);

/** An expected number: with a unit at a duration or a size, as it is elsewhere. */
export function expectedNumber(matcher: string, expected: Value, { unit }: Subject): number {
  const value = plain(expected);
  if (unit === 'duration' || unit === 'size') {
    const read =
      typeof value === 'string' ? (unit === 'duration' ? parseDuration(value) : parseSize(value)) : undefined;
    if (read !== undefined) return read;
    throw shapeProblem(
      matcher,
      unit === 'duration' ? 'a duration such as 500ms or 2s' : 'a size such as 200B or 64kB',
      expected,
    );
  }
  const number = typeof value === 'string' && value.trim() !== '' ? Number(value) : value;
  if (typeof number === 'number' && !Number.isNaN(number)) return number;
  throw shapeProblem(matcher, 'a number', expected);
}

/** The number that was found, undefined where it is none. */
export function foundNumber(found: Value | undefined, { strict }: Subject): number | undefined {
  const value = plain(found);
  if (typeof value === 'number') return value;
  if (strict || typeof value !== 'string' || value.trim() === '') return undefined;
  const number = Number(value);
  return Number.isNaN(number) ? undefined : number;
}

/** Equality as the place understands it: `2xx` at a status, units at measures, numbers at text places. */
export function equality(matcher: string, expected: Value, subject: Subject): (found: Value | undefined) => boolean {
  const { unit, strict } = subject;
  if (unit === 'status') {
    const hundreds = typeof expected === 'string' ? /^([1-5])xx$/i.exec(expected)?.[1] : undefined;
    if (hundreds !== undefined) return (found) => Math.floor(Number(plain(found)) / 100) === Number(hundreds);
    const status = Number(plain(expected));
    if (!Number.isInteger(status)) throw shapeProblem(matcher, 'a status such as 201 or a class such as 2xx', expected);
    return (found) => plain(found) === status;
  }
  if (unit !== undefined) {
    const number = expectedNumber(matcher, expected, subject);
    return (found) => plain(found) === number;
  }
  if (strict) return (found) => equalValues(found, expected);
  const number = typeof plain(expected) === 'number' ? (plain(expected) as number) : undefined;
  const text = typeof expected === 'object' && plain(expected) === expected ? undefined : textOf(expected);
  return (found) => {
    if (equalValues(found, expected)) return true;
    if (typeof found !== 'string') return false;
    return found === text || (number !== undefined && foundNumber(found, subject) === number);
  };
}
