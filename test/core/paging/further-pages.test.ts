/** Page one taken for everything: what tells of further pages, and what only looks as if it did. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { furtherPages, pagesBlock } from '../../../src/core/paging/further-pages.js';
import type { Observed } from '../../../src/core/place/observed.js';

function response(body: unknown, headers: Observed['headers'] = [], status = 200): Observed {
  const text = typeof body === 'string' ? body : JSON.stringify(body);
  return {
    status,
    time: 1,
    size: text.length,
    finalUrl: 'http://127.0.0.1/berths',
    headers,
    text,
    json: () => JSON.parse(text),
    hopCount: 0,
  };
}

const told = (body: unknown, headers?: Observed['headers'], parameters: readonly string[] = []): string | undefined => {
  const further = furtherPages(response(body, headers), () => parameters);
  if (!further) return undefined;
  const { count, total } = further;
  return `${count} of ${total?.number ?? '?'}: ${pagesBlock(further)}`;
};

const two = [{ code: 'N1' }, { code: 'N2' }];

const tells: readonly (readonly [about: string, said: string | undefined, expected: string])[] = [
  [
    'a Link header beside a bare list',
    told(two, [['Link', '</berths?page=2>; rel="next"']]),
    '2 of ?: pages: {items: $, next: link.next}',
  ],
  [
    'an address and a total in the body',
    told({ items: two, total: 9, next: 'berths?page=2' }),
    '2 of 9: pages: {items: $.items, next: $.next, total: $.total}',
  ],
  [
    'links as maps, the list further down',
    told({ data: { berths: two, _links: { self: { href: '/b' }, next: { href: 'http://127.0.0.1/b?p=2' } } } }),
    '2 of ?: pages: {items: $.data.berths, next: $.data._links.next.href}',
  ],
  [
    'a connection of GraphQL',
    told({ data: { berths: { edges: two, pageInfo: { hasNextPage: true, endCursor: 'bjI' } } } }),
    '2 of ?: pages: {items: $.data.berths.edges, cursor: {input: after, from: $.data.berths.pageInfo.endCursor}, while: {$.data.berths.pageInfo.hasNextPage: true}}',
  ],
  [
    'a cursor alone, of texts',
    told({ codes: ['N1', 'N2'], next_cursor: 'bjI' }),
    '2 of ?: pages: {items: $.codes, cursor: {input: after, from: $.next_cursor}}',
  ],
  [
    'a total, and a parameter that counts items',
    told({ items: two, total: 9 }, [], ['limit', 'offset']),
    '2 of 9: pages: {items: $.items, offset: {input: offset}, total: $.total}',
  ],
  [
    'a total, and a parameter that counts pages',
    told({ items: two, paging: { totalItems: 9 } }, [], ['page']),
    '2 of 9: pages: {items: $.items, number: {input: page}, total: $.paging.totalItems}',
  ],
  ['a total and no way to go on', told({ ok: true, items: two, total: 9 }), '2 of 9: undefined'],
  ['a plain yes', told({ berths: two, more: true }), '2 of ?: undefined'],
  [
    'a count of all in a header',
    told(two, [['X-Total-Count', '9']], ['page']),
    '2 of 9: pages: {items: $, number: {input: page}, total: header.x-total-count}',
  ],
  ['a range of items (RFC 9110, section 14.4)', told(two, [['Content-Range', 'berths 0-1/9']]), '2 of 9: undefined'],
  [
    'the list of maps beside a list of names',
    told({ fields: ['code'], rows: two, totalCount: 9 }),
    '2 of 9: undefined',
  ],
  [
    'a name that needs quotes',
    told({ 'berths, free': two, next: '?p=2' }),
    `2 of ?: pages: {items: "$['berths, free']", next: $.next}`,
  ],
];
test('what tells of further pages is told with what the request lacks', () => {
  for (const [about, said, expected] of tells) assert.equal(said, expected, about);
});

const silent: readonly (readonly [about: string, said: string | undefined])[] = [
  ['all are there', told({ items: two, total: 2 })],
  ['a sum of money beside the lines of a bill', told({ bill: 'B-7', lines: two, total: 1200 })],
  ['a total that is no whole number', told({ items: two, total: 12.5 })],
  ['the response says that this was all', told({ items: two, cursor: 'bjI', more: false })],
  ['a next address that is not there', told({ items: two, next: null })],
  ['a next word that is no address', told({ items: two, next: 'survey' })],
  ['an empty list', told({ items: [], total: 9, next: '/berths?page=2' })],
  ['two lists of the same kind', told({ north: two, south: two, total: 9 })],
  ['a part of a file', told(two, [['Content-Range', 'bytes 0-99/1000']])],
  ['no list at all', told({ code: 'N1', next: '/berths/N2' }, [['Link', '</berths/N2>; rel="next"']])],
  ['another relation', told(two, [['Link', '</berths?page=9>; rel="last"']])],
  ['no JSON', told('<berths total="9"><berth/></berths>')],
  ['a torn response', told('[{"code": "N1"')],
];
test('what only looks like it is passed over', () => {
  for (const [about, said] of silent) assert.equal(said, undefined, about);
  assert.equal(
    furtherPages(response({ items: two, total: 9 }, [], 400), () => []),
    undefined,
  );
});
