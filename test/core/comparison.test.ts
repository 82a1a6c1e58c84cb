/** What differs between two values and two answers. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { answerDifferences, textDifferences } from '../../src/core/comparison/answers.js';
import { counting } from '../../src/core/comparison/counting.js';
import { differencesBetween } from '../../src/core/comparison/differences.js';
import { parseJson } from '../../src/core/value/json-text.js';

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

test('answers: status, headers without those of every time, JSON by structure, text by lines', () => {
  const answer = (status: number, headers: [string, string][], text: string) => ({ status, headers, text });
  const json = answerDifferences(
    answer(
      200,
      [
        ['Date', 'a'],
        ['Vary', 'Cookie'],
        ['X-Desk', '1'],
      ],
      '{"a": 1}',
    ),
    answer(
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
  assert.deepEqual(answerDifferences(answer(200, [['X-Desk', '1']], '{"a": 1}'), document), []);
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
