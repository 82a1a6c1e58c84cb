/** Times as a program writes them: pieces of the moment in ISO 8601, which every language can write. */
import { ownMember } from '../../value/own-member.js';
import { plain, type Value } from '../../value/written.js';
import { type CodeExpression, joined, text } from './expression.js';

/** Places in `2026-03-02T09:30:00.123Z`. */
const places: Readonly<Record<string, readonly [from: number, to: number]>> = {
  yyyy: [0, 4],
  yy: [2, 4],
  MM: [5, 7],
  dd: [8, 10],
  HH: [11, 13],
  mm: [14, 16],
  ss: [17, 19],
  SSS: [20, 23],
};

const units: Readonly<Record<string, number>> = { ms: 1, s: 1e3, m: 6e4, h: 36e5, d: 864e5, w: 6048e5 };

/** What a filter makes of the present moment. @param shift milliseconds @returns undefined where no program here can */
export function timeIn(filter: string, argument: Value | undefined, shift: number): CodeExpression | undefined {
  switch (filter) {
    case 'http-date':
      return { op: 'time', form: 'http', shift };
    case 'unix':
      return { op: 'time', form: 'unix', shift };
    case 'unix-ms':
      return { op: 'time', form: 'unix-ms', shift };
    case 'rfc3339':
      return { op: 'time', form: 'iso', shift };
    case 'plus': {
      const [, sign, count, unit = ''] = /^([+-]?)(\d+)(ms|[smhdw])$/.exec(String(plain(argument ?? ''))) ?? [];
      if (count === undefined) return undefined;
      const more = Number(count) * (ownMember(units, unit) as number) * (sign === '-' ? -1 : 1);
      return { op: 'time', form: 'iso', shift: shift + more };
    }
    case 'format':
      return patternIn(String(plain(argument ?? '')), shift);
    default:
      return undefined;
  }
}

function patternIn(pattern: string, shift: number): CodeExpression | undefined {
  const iso: CodeExpression = { op: 'time', form: 'iso', shift };
  const slice = ([from, to]: readonly [number, number]): CodeExpression => ({ op: 'slice', data: iso, from, to });
  const parts: CodeExpression[] = [];
  for (const [piece, quoted] of pattern.matchAll(/'([^']*)'|[A-Za-z]+|[^A-Za-z']+/g)) {
    const place = ownMember(places, piece);
    if (quoted !== undefined) parts.push(text(quoted));
    else if (place) parts.push(slice(place));
    else if (/[A-Za-z]/.test(piece)) {
      // Letters that run together, such as yyyyMMdd.
      const pieces = piece.match(/([A-Za-z])\1*/g) ?? [];
      if (!pieces.every((one) => ownMember(places, one))) return undefined;
      parts.push(...pieces.map((one) => slice(ownMember(places, one) as readonly [number, number])));
    } else parts.push(text(piece));
  }
  return joined(parts);
}
