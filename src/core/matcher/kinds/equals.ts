/** `equals`, the meaning of a plain value. */
import { type MatcherKind, unless } from '../matcher.js';
import { equality, shortText } from '../reading.js';

export const equals: MatcherKind = {
  name: 'equals',
  about: 'the same value; what a plain value or a list means',
  example: '{equals: confirmed}',
  compile(expected, { subject }) {
    const same = equality('equals', expected, subject);
    return { describe: () => shortText(expected), miss: (found) => unless(same(found)) };
  },
};
