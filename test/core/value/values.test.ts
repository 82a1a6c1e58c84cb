/** Values: JSON text in and out, equality, text, durations and sizes. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { equalValues } from '../../../src/core/value/equal.js';
import { parseJson, writeJson } from '../../../src/core/value/json-text.js';
import { durationText, parseDuration, parseSize, sizeText } from '../../../src/core/value/measures.js';
import { textOf } from '../../../src/core/value/text.js';
import { SourceScalar, sourceScalar, typeOf, type Value } from '../../../src/core/value/written.js';

test('JSON that JavaScript holds exactly comes back as it went in', () => {
  fc.assert(
    fc.property(fc.jsonValue(), (value) => {
      const text = JSON.stringify(value);
      assert.equal(writeJson(parseJson(text)), text);
    }),
    { numRuns: 500 },
  );
});

test('long whole numbers keep every digit, in and out, alone and deep inside', () => {
  fc.assert(
    fc.property(fc.bigInt({ min: 10n ** 16n, max: 10n ** 30n }), (number) => {
      for (const text of [`${number}`, `-${number}`, `{"a":[1,{"b":${number}}]}`])
        assert.equal(writeJson(parseJson(text)), text);
    }),
  );
});

test('a value that is written plainly is no special thing', () => {
  assert.equal(sourceScalar('12', 12), 12);
  assert.ok(sourceScalar('012', 12) instanceof SourceScalar);
  assert.equal(JSON.stringify({ n: new SourceScalar('012', 12) }), '{"n":12}');
});

const types: readonly (readonly [Value, string])[] = [
  [null, 'null'],
  [true, 'boolean'],
  [1, 'integer'],
  [1.5, 'number'],
  ['1', 'string'],
  [[], 'array'],
  [{}, 'object'],
  [new SourceScalar('1.0', 1), 'integer'],
  [new SourceScalar('True', true), 'boolean'],
];
for (const [value, type] of types)
  test(`${JSON.stringify(value)} is of type ${type}`, () => assert.equal(typeOf(value), type));

const pairs: readonly (readonly [Value | undefined, Value | undefined, boolean])[] = [
  [1, 1, true],
  [1, '1', false],
  [null, undefined, false],
  [[1, [2]], [1, [2]], true],
  [[1, 2], [2, 1], false],
  [{ a: 1, b: 2 }, { b: 2, a: 1 }, true],
  [{ a: 1 }, { a: 1, b: undefined as unknown as Value }, false],
  [[], {}, false],
  [new SourceScalar('1.0', 1), 1, true],
  [
    new SourceScalar('12345678901234567890', 1.2345678901234567e19),
    new SourceScalar('12345678901234567891', 1.2345678901234567e19),
    false,
  ],
  [Buffer.from('a'), Buffer.from('a'), true],
  [Buffer.from('a'), 'a', false],
];
for (const [left, right, same] of pairs) {
  test(`${JSON.stringify(left)} and ${JSON.stringify(right)} are ${same ? '' : 'not '}equal`, () => {
    assert.equal(equalValues(left, right), same);
    assert.equal(equalValues(right, left), same);
  });
}

test('text of values', () => {
  assert.deepEqual(
    ['a', 1, true, null, new SourceScalar('0012', 12), [1, 'x'], Buffer.from('ü')].map((value) =>
      textOf(value as Value),
    ),
    ['a', '1', 'true', 'null', '0012', '[1,"x"]', 'ü'],
  );
});

const durations: readonly (readonly [string, number | undefined])[] = [
  ['500ms', 500],
  ['2s', 2000],
  ['1.5s', 1500],
  ['5m', 300_000],
  ['1h', 3_600_000],
  ['2d', 172_800_000],
  ['5', undefined],
  ['s', undefined],
  ['5 s', undefined],
  ['-5s', undefined],
];
for (const [text, ms] of durations) test(`the duration ${text}`, () => assert.equal(parseDuration(text), ms));

const sizes: readonly (readonly [string, number | undefined])[] = [
  ['200B', 200],
  ['64kB', 64_000],
  ['1MiB', 1_048_576],
  ['1.5 GB', 1.5e9],
  ['64', undefined],
  ['64KB', undefined],
];
for (const [text, bytes] of sizes) test(`the size ${text}`, () => assert.equal(parseSize(text), bytes));

test('durations and sizes in words', () => {
  assert.deepEqual([0.42, 12, 999.4, 1250, 42_000, 119_999, 125_000].map(durationText), [
    '0.4 ms',
    '12 ms',
    '999 ms',
    '1.25 s',
    '42.0 s',
    '2 min',
    '2 min 5 s',
  ]);
  assert.deepEqual([0, 999, 1300, 4_200_000, 1.2e9].map(sizeText), ['0 B', '999 B', '1.3 kB', '4.2 MB', '1.20 GB']);
});
