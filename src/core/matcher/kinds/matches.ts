/** `matches`: a regular expression in linear time, found anywhere in the text. */
import { containsMatch, isPattern, loadRegexp } from '../../place/json-path/regexp.js';
import { textOf } from '../../value/text.js';
import { plain } from '../../value/written.js';
import { type MatcherKind, unless } from '../matcher.js';
import { shapeProblem } from '../reading.js';

export const matches: MatcherKind = {
  name: 'matches',
  about: 'a text in which the regular expression (RFC 9485; ^ and $ anchor it) is found',
  example: '{matches: "^PC-[0-9]{4}$"}',
  compile(expected, { loads }) {
    if (typeof expected !== 'string') throw shapeProblem('matches', 'a regular expression', expected);
    // Checked once the engine is there; whoever awaits the loads gets the problem.
    loads.push(
      loadRegexp().then(() => {
        if (!isPattern(expected)) throw shapeProblem('matches', 'a regular expression', expected);
      }),
    );
    return {
      describe: () => `matches ${expected}`,
      miss: (found) => unless(plain(found) !== null && found !== undefined && containsMatch(expected, textOf(found))),
    };
  },
};
