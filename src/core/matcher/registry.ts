/** All matchers. A new one is one file and one line here. */
import { endsWith, startsWith } from './kinds/affix.js';
import { contains } from './kinds/contains.js';
import { equals } from './kinds/equals.js';
import { exists } from './kinds/exists.js';
import { matches } from './kinds/matches.js';
import { all, any, count, not } from './kinds/nested.js';
import { oneOf } from './kinds/one-of.js';
import { atLeast, atMost, over, under } from './kinds/order.js';
import { sameAs } from './kinds/same-as.js';
import { schema } from './kinds/schema.js';
import { type } from './kinds/type.js';
import type { MatcherKind } from './matcher.js';

export const matchers: ReadonlyMap<string, MatcherKind> = new Map(
  [
    equals,
    not,
    oneOf,
    over,
    atLeast,
    under,
    atMost,
    contains,
    startsWith,
    endsWith,
    matches,
    exists,
    type,
    count,
    all,
    any,
    schema,
    sameAs,
  ].map((kind) => [kind.name, kind]),
);
