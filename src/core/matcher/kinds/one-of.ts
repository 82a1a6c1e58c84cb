/** `one-of`: equal to one of a list. */
import { type MatcherKind, unless } from '../matcher.js';
import { equality, shapeProblem, shortText } from '../reading.js';

export const oneOf: MatcherKind = {
  name: 'one-of',
  about: 'equal to one of the values in a list',
  example: '{one-of: [requested, confirmed]}',
  compile(expected, { subject }) {
    if (!Array.isArray(expected) || expected.length === 0) throw shapeProblem('one-of', 'a list', expected);
    const options = expected.map((option) => equality('one-of', option, subject));
    return {
      describe: () => `one of ${expected.map(shortText).join(', ')}`,
      miss: (found) => unless(options.some((option) => option(found))),
    };
  },
};
