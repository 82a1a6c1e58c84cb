/** `starts-with` and `ends-with`. */
import { textOf } from '../../value/text.js';
import { plain, type Value } from '../../value/written.js';
import { type MatcherKind, unless } from '../matcher.js';
import { shapeProblem, shortText } from '../reading.js';

function affix(name: string, words: string, test: (text: string, part: string) => boolean): MatcherKind {
  return {
    name,
    about: `a text that ${words} a text`,
    example: name === 'starts-with' ? '{starts-with: application/json}' : '{ends-with: /calls}',
    compile(expected) {
      if (typeof plain(expected) === 'object') throw shapeProblem(name, 'a text', expected);
      const part = textOf(expected);
      const holds = (found: Value | undefined): boolean => typeof found === 'string' && test(found, part);
      return { describe: () => `${words} ${shortText(part)}`, miss: (found) => unless(holds(found)) };
    },
  };
}

export const startsWith = affix('starts-with', 'starts with', (text, part) => text.startsWith(part));
export const endsWith = affix('ends-with', 'ends with', (text, part) => text.endsWith(part));
