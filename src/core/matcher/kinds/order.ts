/** `over`, `at-least`, `under`, `at-most`: numbers, durations and sizes in order. */
import { type MatcherKind, unless } from '../matcher.js';
import { expectedNumber, foundNumber, measureText } from '../reading.js';

function order(name: string, words: string, holds: (found: number, limit: number) => boolean): MatcherKind {
  return {
    name,
    about: `a number ${words} the limit; with a unit where the place is a time or a size`,
    example: `{${name}: 3}`,
    compile(expected, { subject }) {
      const limit = expectedNumber(name, expected, subject);
      const shown = measureText(limit, subject.unit);
      return {
        describe: () => `${words} ${shown}`,
        miss(found) {
          const number = foundNumber(found, subject);
          return unless(number !== undefined && holds(number, limit));
        },
      };
    },
  };
}

export const over = order('over', 'over', (found, limit) => found > limit);
export const atLeast = order('at-least', 'at least', (found, limit) => found >= limit);
export const under = order('under', 'under', (found, limit) => found < limit);
export const atMost = order('at-most', 'at most', (found, limit) => found <= limit);
