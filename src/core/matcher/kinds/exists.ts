/** `exists`: something is at the place, or nothing is. `null` is something. */
import { type MatcherKind, unless } from '../matcher.js';
import { shapeProblem } from '../reading.js';

export const exists: MatcherKind = {
  name: 'exists',
  about: 'true: there is something, null included; a list of a query: not empty. false: nothing does',
  example: '{exists: false}',
  compile(expected) {
    if (typeof expected !== 'boolean') throw shapeProblem('exists', 'true or false', expected);
    return {
      describe: () => (expected ? 'exists' : 'does not exist'),
      miss: (found) => unless((found !== undefined && !(Array.isArray(found) && found.length === 0)) === expected),
    };
  },
};
