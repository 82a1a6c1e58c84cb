/** What differs between two values and two responses. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { counting } from '../../../src/core/comparison/counting.js';
import { differencesBetween } from '../../../src/core/comparison/differences.js';
import { responseDifferences, textDifferences } from '../../../src/core/comparison/responses.js';
import { parseJson } from '../../../src/core/value/json-text.js';
import type { Value } from '../../../src/core/value/written.js';

const cases: readonly (readonly [left: string, right: string, found: readonly (readonly [string, string])[]])[] = [
  ['1', '1', []],
  ['1', '1.0', []],
  ['1', '"1"', [['changed', '$']]],
  ['null', '0', [['changed', '$']]],
  ['{"a": 1, "b": 2}', '{"b": 2, "a": 1}', []],
  ['{"a": 1}', '{"a": 2}', [['changed', '$.a']]],
  [
    '{"a": 1}',
    '{"b": 1}',
    [
      ['removed', '$.a'],
      ['added', '$.b'],
    ],
  ],
  ['{"a b": 1}', '{}', [['removed', "$['a b']"]]],
  ['[1, 2]', '[1]', [['removed', '$[1]']]],
  [
    '[1]',
    '[2, 3]',
    [
      ['changed', '$[0]'],
      ['added', '$[1]'],
    ],
  ],
  ['{"a": [{"x": 1}]}', '{"a": [{"x": {"y": 1}}]}', [['changed', '$.a[0].x']]],
  ['12345678901234567890', '12345678901234567891', [['changed', '$']]],
  ['{"__proto__": 1}', '{"__proto__": 2}', [['changed', '$.__proto__']]],
];
for (const [left, right, found] of cases) {
  test(`${left} and ${right}`, () => {
    const differences = differencesBetween(parseJson(left), parseJson(right));
    assert.deepEqual(
      differences.map(({ kind, at }) => [kind, at]),
      found,
    );
  });
}

test('places that may differ, with all below them; and places that alone count', () => {
  const found = differencesBetween(
    parseJson('{"items": [{"id": 1, "at": 1}, {"id": 2, "at": 1}], "total": 2, "at": 1}'),
    parseJson('{"items": [{"id": 1, "at": 2}, {"id": 3, "at": 2}], "total": 3, "at": 2}'),
  );
  const places = (ignoring: string[], only: string[] = []): string[] =>
    counting(found, ignoring, only).map(({ at }) => at);
  assert.deepEqual(places(['$.items[*].at', '$.at']), ['$.items[1].id', '$.total']);
  assert.deepEqual(places(['$.items']), ['$.total', '$.at']);
  assert.deepEqual(places([], ['$.items[1]']), ['$.items[1].at', '$.items[1].id'].sort().reverse());
  assert.deepEqual(
    places(['$.tot']),
    found.map(({ at }) => at),
    'a part of a name is not the name',
  );
});

test('places stand for items that are told apart by a key, as for those with a number', () => {
  const list = (...items: object[]): Value => ({ items: items as unknown as Value[], Items: 1 });
  const found = differencesBetween(
    list({ id: 1, at: 1, n: 1 }, { id: 'a]b"c', at: 1, n: 2, tags: ['x'] }, { id: 3 }),
    { ...(list({ id: 'a]b"c', at: 2, n: 3, tags: ['y'] }, { id: 1, at: 5, n: 1 }) as object), Items: 2 } as Value,
    '$',
    { '$.items': '$.id' },
  );
  const places = (ignoring: string[]): string[] => counting(found, ignoring).map(({ at }) => at);
  const second = '$.items[?@.id == "a]b\\"c"]';
  assert.deepEqual(places(['$.items[*].at']), [`${second}.n`, `${second}.tags[0]`, '$.items[?@.id == 3]', '$.Items']);
  assert.deepEqual(places(['$.items[*].at', '$.items[*].n', '$.items[*].tags[*]']), ['$.items[?@.id == 3]', '$.Items']);
  assert.deepEqual(places(['$.items[*]']), ['$.Items'], 'capital letters count');
  const names = differencesBetween({ 'a b': 1, list: [1] }, { 'a b': 2, list: [2] });
  assert.deepEqual(
    counting(names, ['$[*]']).map(({ at }) => at),
    ["$['a b']", '$.list[0]'],
    'a name in brackets is no item',
  );
});

test('places in XML stand for elements that are told apart by a key', () => {
  const document = (text: string): string => `<notices>${text}</notices>`;
  const differing = (unordered: Record<string, string>, ignoring: string[]): string[] => {
    const response = (text: string) => ({ status: undefined, headers: [], text: document(text) });
    const [one, other] = [
      '<notice number="7"><at>1</at><text>a</text></notice><notice number="a]8"><at>1</at><text>b</text></notice>',
      '<notice number="a]8"><at>2</at><text>b</text></notice><notice number="7"><at>2</at><text>c</text></notice>',
    ].map(response) as [ReturnType<typeof response>, ReturnType<typeof response>];
    return responseDifferences(one, other, { unordered, ignoring }).map(({ at }) => at);
  };
  const keyed = { '/notices/notice': '@number' };
  const changed = '/notices/notice[@number = "7"]/text';
  assert.deepEqual(differing(keyed, ['/notices/notice/at']), [changed]);
  assert.deepEqual(differing(keyed, ['/notices/notice[*]/at']), [changed]);
  assert.deepEqual(differing(keyed, ['//at']), [changed]);
  assert.deepEqual(differing(keyed, ['/notices/notice[@number = "7"]/text', '//at']), []);
});

test('responses: status, headers without those of every time, JSON by structure, text by lines', () => {
  const response = (status: number, headers: [string, string][], text: string) => ({ status, headers, text });
  const json = responseDifferences(
    response(
      200,
      [
        ['Date', 'a'],
        ['Vary', 'Cookie'],
        ['X-Desk', '1'],
      ],
      '{"a": 1}',
    ),
    response(
      403,
      [
        ['date', 'b'],
        ['vary', 'Cookie'],
        ['X-Seal', '2'],
      ],
      '{"a": 2}',
    ),
  );
  assert.deepEqual(
    json.map(({ kind, at }) => `${kind} ${at}`),
    ['changed status', 'removed header.x-desk', 'added header.x-seal', 'changed $.a'],
  );
  const document = { status: undefined, headers: [], text: '{"a": 1}' };
  assert.deepEqual(responseDifferences(response(200, [['X-Desk', '1']], '{"a": 1}'), document), []);
});

test('texts by lines: changed, added, removed, with the line they stand on', () => {
  assert.deepEqual(textDifferences('a\nb\nc\n', 'a\nB\nc\nd\n'), [
    { at: 'line 2', kind: 'changed', left: 'b', right: 'B' },
    { at: 'line 4', kind: 'added', left: undefined, right: 'd' },
  ]);
  assert.deepEqual(textDifferences('a\nb\nc\n', 'a\nc\n'), [
    { at: 'line 2', kind: 'removed', left: 'b', right: undefined },
  ]);
  assert.deepEqual(textDifferences('same', 'same'), []);
});
