/** `not`, `count`, `all`, `any`: matchers that apply others. */
import { isValueMap, type Value } from '../../value/written.js';
import { type MatchContext, type MatcherKind, unless } from '../matcher.js';

const strict = { strict: true } as const;

/** What is inside is no node set. */
const inside = (situation: MatchContext): MatchContext =>
  situation.nodes === undefined ? situation : { ...situation, nodes: undefined };

export const not: MatcherKind = {
  name: 'not',
  about: 'the opposite of a value or of matchers',
  example: '{not: {one-of: [rejected, cancelled]}}',
  compile(expected, { subject }, nested) {
    const inner = nested(expected, subject);
    return {
      describe: () => `not ${inner.describe()}`,
      miss: (found, situation) => unless(inner.miss(found, situation) !== undefined),
    };
  },
};

export const count: MatcherKind = {
  name: 'count',
  about: 'the number of items, members or characters: a number or matchers',
  example: '{count: {at-least: 1}}',
  compile(expected, _workshop, nested) {
    const inner = nested(expected, strict);
    return {
      describe: () => `a count of ${inner.describe()}`,
      miss(found, situation) {
        const size = sizeOf(situation.nodes ?? found);
        return size !== undefined && inner.miss(size, inside(situation)) === undefined
          ? undefined
          : `the count is ${size ?? 'not known'}`;
      },
    };
  },
};

function sizeOf(found: Value | undefined): number | undefined {
  if (typeof found === 'string') return [...found].length;
  if (Array.isArray(found)) return found.length;
  return found !== undefined && isValueMap(found) ? Object.keys(found).length : undefined;
}

export const all: MatcherKind = {
  name: 'all',
  about: 'a list in which every item is so (an empty list passes)',
  example: '{all: {at-least: 0}}',
  compile(expected, _workshop, nested) {
    const inner = nested(expected, strict);
    return {
      describe: () => `all ${inner.describe()}`,
      miss(found, situation) {
        const list = situation.nodes ?? found;
        if (!Array.isArray(list)) return 'it is not a list';
        const wrong = list.findIndex((item: Value) => inner.miss(item, inside(situation)) !== undefined);
        return wrong === -1 ? undefined : `item ${wrong} is not`;
      },
    };
  },
};

export const any: MatcherKind = {
  name: 'any',
  about: 'a list in which at least one item is so',
  example: '{any: {equals: grain}}',
  compile(expected, _workshop, nested) {
    const inner = nested(expected, strict);
    return {
      describe: () => `any ${inner.describe()}`,
      miss(found, situation) {
        const list = situation.nodes ?? found;
        if (!Array.isArray(list)) return 'it is not a list';
        return unless(list.some((item: Value) => inner.miss(item, inside(situation)) === undefined));
      },
    };
  },
};
