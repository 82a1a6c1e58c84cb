/** `contains`: part of a text, an item of a list, or members of a map. */

import { equalValues } from '../../value/equal.js';
import { ownMember } from '../../value/own-member.js';
import { textOf } from '../../value/text.js';
import { isValueMap, plain, type Value } from '../../value/written.js';
import { type MatcherKind, unless } from '../matcher.js';
import { shortText } from '../reading.js';

export const contains: MatcherKind = {
  name: 'contains',
  about: 'a text that holds the text, a list that holds the item, a map that holds these members',
  example: '{contains: harbour}',
  compile: (expected) => ({
    describe: () => `contains ${shortText(expected)}`,
    miss: (found) => unless(holds(found, expected)),
  }),
};

function holds(found: Value | undefined, expected: Value): boolean {
  if (typeof found === 'string') return found.includes(textOf(expected));
  if (Array.isArray(found))
    return found.some((item: Value) => equalValues(item, expected) || (isValueMap(expected) && holds(item, expected)));
  if (found === undefined || !isValueMap(found) || !isValueMap(expected)) return plain(found) === plain(expected);
  return Object.entries(expected).every(
    ([key, value]) => Object.hasOwn(found, key) && equalValues(ownMember(found, key), value),
  );
}
