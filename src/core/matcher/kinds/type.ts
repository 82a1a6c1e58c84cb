/** `type`: the JSON type, by the names of JSON Schema. */
import { typeOf } from '../../value/written.js';
import { type MatcherKind, unless } from '../matcher.js';
import { shapeProblem } from '../reading.js';

const names = ['string', 'number', 'integer', 'boolean', 'array', 'object', 'null'];

export const type: MatcherKind = {
  name: 'type',
  about: `the JSON type: ${names.join(', ')}; or a list of them`,
  example: '{type: integer}',
  compile(expected) {
    const wanted = Array.isArray(expected) ? expected : [expected];
    if (wanted.length === 0 || !wanted.every((name) => names.includes(name as string))) {
      throw shapeProblem('type', names.join(', '), expected);
    }
    return {
      describe: () => `of type ${wanted.join(' or ')}`,
      miss(found) {
        if (found === undefined) return '';
        const is = typeOf(found);
        return unless(wanted.includes(is) || (is === 'integer' && wanted.includes('number')));
      },
    };
  },
};
