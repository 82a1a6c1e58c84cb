/** The log book: one list of entries, in every style of paging that vendors have. */

import { AccessDenied } from '../problem.js';
import type { ServiceModule } from '../service.js';

const logbookEntries = 95;
const mostOnAPage = 20;

const entries = Array.from({ length: logbookEntries }, (_, index) => ({
  id: `E-${String(index + 1).padStart(3, '0')}`,
  berth: `${'NSW'[index % 3]}${(index % 4) + 1}`,
  what: ['arrived', 'moved', 'departed'][index % 3],
}));

interface Query {
  page?: string;
  size?: string;
  offset?: string;
  after?: string;
}

export const logbookService: ServiceModule = {
  register(app, _state, origin) {
    const page = (from: number, size: number): typeof entries => entries.slice(from, from + size);
    app.get<{ Querystring: Query }>('/logbook/links', async ({ query }, reply) => {
      const [number, size] = [whole(query.page, 'page', 1), sizeOf(query)];
      const link = (to: number, rel: string): string => `</logbook/links?page=${to}&size=${size}>; rel="${rel}"`;
      const last = Math.ceil(entries.length / size);
      reply.header('Link', [...(number < last ? [link(number + 1, 'next')] : []), link(last, 'last')].join(', '));
      return page((number - 1) * size, size);
    });
    app.get<{ Querystring: Query }>('/logbook/next', async ({ query }) => {
      const [number, size] = [whole(query.page, 'page', 1), sizeOf(query)];
      const more = number * size < entries.length;
      return {
        items: page((number - 1) * size, size),
        total: entries.length,
        next: more ? `${origin()}/logbook/next?page=${number + 1}&size=${size}` : null,
      };
    });
    app.get<{ Querystring: Query }>('/logbook/numbers', async ({ query }) => {
      const [number, size] = [whole(query.page, 'page', 1), sizeOf(query)];
      return { items: page((number - 1) * size, size) };
    });
    app.get<{ Querystring: Query }>('/logbook/offsets', async ({ query }) => {
      const [from, size] = [whole(query.offset, 'offset', 0), sizeOf(query)];
      return { items: page(from, size), total: entries.length, offset: from };
    });
    app.get<{ Querystring: Query }>('/logbook/cursors', async ({ query }) => {
      const size = sizeOf(query);
      const from = query.after === undefined ? 0 : entries.findIndex(({ id }) => id === unsealed(query.after)) + 1;
      if (query.after !== undefined && from === 0)
        throw new AccessDenied(400, 'cursor', 'Unknown cursor', `${query.after} is no cursor of this list`);
      const items = page(from, size);
      const more = from + size < entries.length;
      return { items, cursor: Buffer.from(items.at(-1)?.id ?? '').toString('base64url'), more };
    });
    app.get<{ Querystring: Query }>('/logbook/xml', async ({ query }, reply) => {
      const [number, size] = [whole(query.page, 'page', 1), sizeOf(query)];
      const rows = page((number - 1) * size, size).map(
        ({ id, berth }) => `<entry id="${id}"><berth>${berth}</berth></entry>`,
      );
      reply.type('application/xml');
      return `<log total="${entries.length}">${rows.join('')}</log>`;
    });
    // A vendor that does not take the page that it is asked for.
    app.get<{ Querystring: Query }>('/logbook/stuck', async ({ query }) => ({ items: page(0, sizeOf(query)) }));
    app.get<{ Querystring: Query }>('/logbook/round', async ({ query }) => {
      const number = whole(query.page, 'page', 1);
      return { items: page((number - 1) * 10, 10), next: `/logbook/round?page=${(number % 3) + 1}` };
    });
    // Its third page is out of order.
    app.get<{ Querystring: Query }>('/logbook/torn', async ({ query }) => {
      const number = whole(query.page, 'page', 1);
      if (number === 3) throw new AccessDenied(500, 'fault', 'Internal error', 'the page is torn');
      return { items: page((number - 1) * 20, 20), total: entries.length, next: `/logbook/torn?page=${number + 1}` };
    });
  },
  services: (origin) => [
    {
      name: 'logbook',
      about: `${logbookEntries} entries by links, next, numbers, offsets, cursors and xml; stuck, round and torn are faulty`,
      address: `${origin}/logbook/links`,
    },
  ],
};

const unsealed = (cursor: string | undefined): string => Buffer.from(cursor ?? '', 'base64url').toString('utf8');

const sizeOf = ({ size }: Query): number => {
  const found = whole(size, 'size', mostOnAPage);
  if (found >= 1 && found <= mostOnAPage) return found;
  throw new AccessDenied(400, 'parameter', 'A parameter is at fault', `size must be from 1 to ${mostOnAPage}`);
};

/** @throws Refusal */
function whole(given: string | undefined, name: string, otherwise: number): number {
  if (given === undefined) return otherwise;
  if (/^\d+$/.test(given)) return Number(given);
  throw new AccessDenied(400, 'parameter', 'A parameter is at fault', `${name} must be a whole number`);
}
