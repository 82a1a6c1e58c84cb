/** JSON text in and out: numbers as they are written, and equality of what is written in different ways. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { equalValues } from '../../../src/core/value/equal.js';
import { parseJson, writeJson } from '../../../src/core/value/json-text.js';

for (const text of [
  '1.0',
  '-0',
  '-0.0',
  '1e400',
  '-1E-400',
  '12345678901234567890',
  '0.1000',
  '1e3',
  '9007199254740993',
  '[1.0,-0,{"a":1e400,"b":[12.50]}]',
  '{"a":"1.0","b":" , 1.50 ,","c":1.50}',
])
  test(`${text} is written as it was read`, () => assert.equal(writeJson(parseJson(text)), text));

const pairs: readonly (readonly [string, string, boolean])[] = [
  ['1.0', '1', true],
  ['-0', '0', true],
  ['1e2', '100', true],
  ['9007199254740993', '9007199254740992', false],
  ['9007199254740993', '9007199254740993', true],
  ['12345678901234567890', '12345678901234567891', false],
  ['1e400', '1e500', false],
  ['1e400', '1E400', true],
  ['1.50', '1.5', true],
  ['1.50', '"1.50"', false],
];
for (const [left, right, equal] of pairs)
  test(`${left} and ${right} are ${equal ? '' : 'not '}equal`, () => {
    assert.equal(equalValues(parseJson(left), parseJson(right)), equal);
    assert.equal(equalValues(parseJson(right), parseJson(left)), equal);
  });
