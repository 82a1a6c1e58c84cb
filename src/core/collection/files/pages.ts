/** `pages:` in a request file: how one list comes in many responses. A new way of paging adds its key here. */
import * as z from 'zod/mini';
import { described } from './described.js';
import { anyValue } from './parts.js';

const count = z.number().check(z.int(), z.minimum(1));
const input = described(
  z.string(),
  'The input of this request that takes it. Its default is used for the first page; where there is none, the request writes `${after ?? absent}`.',
);

export const pages = described(
  z.strictObject({
    items: described(z.string(), 'The place of the list in each response.'),
    next: described(
      z.optional(z.string()),
      'The place of the address of the next page: `link.next`, or one in the body such as `$.next`.',
    ),
    cursor: described(
      z.optional(z.strictObject({ input, from: described(z.string(), 'The place of the cursor in a response.') })),
      'The next page is asked for by a cursor that the response holds.',
    ),
    number: described(
      z.optional(
        z.strictObject({
          input,
          first: described(z.optional(z.number().check(z.int())), 'The number of the first page. 1.'),
        }),
      ),
      'The next page is asked for by its number.',
    ),
    offset: described(
      z.optional(z.strictObject({ input })),
      'The next page is asked for by the number of items before it.',
    ),
    while: described(
      z.optional(z.record(z.string(), anyValue)),
      'Matchers by place, all of which hold where a further page follows.',
    ),
    size: described(z.optional(count), 'How many items a full page has: one with fewer is the last.'),
    total: described(z.optional(z.string()), 'The place of the number of items that there are altogether.'),
    most: described(
      z.optional(count),
      'How many pages are asked for at most; a list that is cut there is reported. 1000 by default.',
    ),
  }),
  'The response is one page of many. How the next is asked for is one of `next`, `cursor`, `number` and `offset`.',
);
export type PagesFile = z.infer<typeof pages>;
