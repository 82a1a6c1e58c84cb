/** Values as the lines and texts of a request. */
import { Problem } from '../../problem/problem.js';
import { textOf } from '../../value/text.js';
import { plain, type Value } from '../../value/written.js';
import { checkHeader } from './header-rules.js';
import type { HeaderLine } from './wire.js';

/** A line an item of a list. @throws Problem header-shape, expression-value */
export function linesOf(name: string, value: Value, origin: string, secret: boolean): HeaderLine[] {
  return (Array.isArray(value) ? (value as readonly Value[]) : [value]).map((item) => {
    const text = wantText('header', name, item);
    checkHeader(name, text, undefined);
    return { name, value: text, origin, secret };
  });
}

/** @param what it is, for the message @throws Problem expression-value: null is no text */
export function wantText(what: string, name: string, value: Value): string {
  if (plain(value) === null) {
    throw new Problem('expression-value', {
      what: `the ${what} ${name} is null`,
      remedy: 'give another value for that case: ${name ?? "…"}, or ${name ?? absent} to leave it out',
    });
  }
  return textOf(value);
}
