/** Pieces that the schemas of several files share. */
import * as z from 'zod/mini';
import { parseDuration, parseSize } from '../../value/measures.js';
import type { Value } from '../../value/written.js';
import { described } from './described.js';

/** Any YAML value; strings in it may hold `${…}`. */
export const anyValue = z.custom<Value>(() => true);
export const values = z.record(z.string(), anyValue);

export const about = described(z.string(), 'One sentence for people: what this is for.');

export const size = z.string().check(
  z.refine((text) => parseSize(text) !== undefined, {
    error: 'expected a size with its unit, such as 500kB, 50MB or 2GB',
  }),
);

export const duration = z.string().check(
  z.refine((text) => parseDuration(text) !== undefined, {
    error: 'expected a duration with its unit, such as 500ms, 5s or 2m',
  }),
);

export const timeout = described(
  z.strictObject({
    connect: described(z.optional(duration), 'Until the connection stands, TLS included. 10s by default.'),
    'first-byte': described(z.optional(duration), 'From sending to the first byte of the response.'),
    idle: described(z.optional(duration), 'Between two pieces of the response.'),
    total: described(z.optional(duration), 'From the start to the last byte. 60s by default.'),
  }),
  'How long to wait.',
);

export const headers = described(values, 'Header lines by name; a list makes one line an item.');

export const query = described(
  values,
  'Query parameters by name, decoded; a list becomes several parameters, null a name without a value (`?acl`). `${absent}` leaves one out.',
);

export const lists = described(
  z.enum(['repeated', 'joined', 'bracketed']),
  'How a list in the query is written: `a=1&a=2` (repeated, by default), `a=1,2` or `a[]=1&a[]=2`.',
);

const places = z.array(z.string());

export const ignoring = described(places, 'Places that may differ, each with all below it.');
export const only = described(places, 'The only places that count, each with all below it.');
export const unordered = described(
  z.record(z.string(), z.string()),
  'Lists whose order says nothing, by place, each with the place in an item that identifies it: `{$.items: $.code}`; `$` is the item itself.',
);

export const session = described(
  z.union([z.string(), z.array(z.string())]),
  'The session to use, several of them in a list, or `none`.',
);

export const signature = described(z.string(), 'The signature to use, or `none`.');

export const expect = described(values, 'What must be so, by place. A plain value means equality, a map is matchers.');

const keepLong = z.strictObject({
  at: described(z.string(), 'The place.'),
  default: described(z.optional(anyValue), 'What is kept when there is nothing at the place.'),
  only: described(z.optional(z.boolean()), 'The place must hold exactly one item, and that item is kept.'),
  list: described(
    z.optional(z.boolean()),
    'A list is kept, also of one item or of none; of XPath the texts of all nodes.',
  ),
  secret: described(z.optional(z.boolean()), 'The value is never printed or stored in the open.'),
});
export type KeepLong = z.infer<typeof keepLong>;

export const keep = described(
  z.record(z.string(), z.union([z.string(), keepLong])),
  'Names for values of the response, by place.',
);

export const redirects = described(
  z.union([z.literal('none'), z.number()]),
  'How many redirects are followed, or `none`. By default, 10 of GET and HEAD, and the GET that a 303 asks for.',
);

const count = z.number().check(z.int(), z.minimum(1));

export const retry = described(
  z.union([
    z.literal('none'),
    z.strictObject({
      statuses: described(
        z.optional(z.array(z.number().check(z.int(), z.minimum(400), z.maximum(599)))),
        'Statuses that are worth another try. 429, 502, 503 and 504 by default.',
      ),
      busy: described(
        z.optional(z.record(z.string(), anyValue)),
        'Matchers by place, all of which hold where a response says in its body that the server is too busy.',
      ),
      wait: described(z.optional(duration), 'Before the second try, where the server does not say. 2s.'),
      growth: described(
        z.optional(z.number().check(z.minimum(1), z.maximum(10))),
        'How many times as long each further wait is. 2.',
      ),
      ceiling: described(
        z.optional(duration),
        'The longest wait. A server that asks for a longer one is not asked again. 60s.',
      ),
      tries: described(z.optional(count), 'How often a request is sent at most, the first time included. 6.'),
      within: described(z.optional(duration), 'All tries together take no longer.'),
    }),
  ]),
  'When a request is sent again, or `none`. Nearest wins: request, folder defaults, environment. By default, a request waits only for a 429 or 503 that says how long.',
);
export type RetryFile = z.infer<typeof retry>;

export const pace = described(
  z.strictObject({
    'at-once': described(z.optional(count), 'How many requests are under way at once.'),
    'per-second': described(z.optional(z.number().check(z.positive())), 'How many requests leave in a second.'),
  }),
  'How fast each host is called at most.',
);

const prompt = z.enum(['always', 'on-request', 'never']);

/** The keys of an input that are matchers too. */
export const inputMatchers = [
  'one-of',
  'at-least',
  'at-most',
  'over',
  'under',
  'matches',
  'starts-with',
  'ends-with',
  'contains',
  'count',
  'not',
] as const;

export const input = described(
  z.strictObject({
    label: described(z.optional(z.string()), 'What the value is called when a person is asked for it.'),
    about: z.optional(about),
    type: described(
      z.optional(z.enum(['string', 'number', 'integer', 'boolean', 'array', 'object'])),
      'The JSON type. Text from the command line or a CSV file is read as that type.',
    ),
    default: described(z.optional(anyValue), 'The value where none is given; may hold `${…}`.'),
    secret: described(
      z.optional(z.boolean()),
      'The value is never printed or stored in the open, and not shown when it is typed.',
    ),
    suggest: described(z.optional(z.array(anyValue)), 'Values to offer; others are allowed too.'),
    'choose-from': described(
      z.optional(z.string()),
      'The request whose response offers values, and the place where they stand: `berths/free, $.items[*].code`. Without a place, the member of the largest list that has the name of the input.',
    ),
    prompt: described(
      z.optional(prompt),
      'Whether a person at a terminal is asked: `always` (where there is no default), `on-request` (where all are asked for), `never`.',
    ),
    'one-of': described(z.optional(z.array(anyValue)), 'The only values allowed.'),
    'at-least': z.optional(anyValue),
    'at-most': z.optional(anyValue),
    over: z.optional(anyValue),
    under: z.optional(anyValue),
    matches: z.optional(z.string()),
    'starts-with': z.optional(z.string()),
    'ends-with': z.optional(z.string()),
    contains: z.optional(anyValue),
    count: z.optional(anyValue),
    not: z.optional(anyValue),
  }),
  'What a caller may set.',
);
export type Input = z.infer<typeof input>;

export const inputs = described(
  z.record(z.string(), input),
  'What a caller may set; the only names from outside that are seen.',
);
