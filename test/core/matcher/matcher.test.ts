/** Matchers: tables of what is expected, what is found, and whether it holds. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { boundedPattern, loadPatterns } from '../../../src/core/matcher/bounded-pattern.js';
import { compileMatchers } from '../../../src/core/matcher/compile.js';
import type { Subject } from '../../../src/core/matcher/matcher.js';
import { matchers } from '../../../src/core/matcher/registry.js';
import { SourceScalar, type Value } from '../../../src/core/value/written.js';

const json: Subject = { strict: true };
const text: Subject = { strict: false };
const status: Subject = { strict: false, unit: 'status' };
const time: Subject = { strict: false, unit: 'duration' };
const size: Subject = { strict: false, unit: 'size' };

async function holds(expected: Value, found: Value | undefined, subject: Subject): Promise<boolean> {
  const loads: Promise<unknown>[] = [];
  const files: Record<string, string> = { 'data/berth.json': '{"code": "N1", "tags": ["a", "b"], "at": 1}' };
  const readText = (path: string): string => files[path] ?? '{"type": "integer"}';
  const check = compileMatchers(expected, { subject, loads, readText });
  await Promise.all(loads);
  assert.equal(typeof check.describe(), 'string');
  return check.miss(found, {}) === undefined;
}

const long = new SourceScalar('12345678901234567890', 12345678901234567890);
const longer = new SourceScalar('12345678901234567891', 12345678901234567891);

const cases: readonly (readonly [
  subject: Subject,
  expected: Value,
  holding: readonly (Value | undefined)[],
  failing: readonly (Value | undefined)[],
])[] = [
  // equality: strict in JSON, numeric at text places
  [json, 'a', ['a'], ['b', 1, null, undefined]],
  [json, 3, [3, new SourceScalar('3.0', 3)], ['3', 4, null]],
  [json, long, [long], [longer]],
  [json, [1, 2], [[1, 2]], [[2, 1], [1], 1]],
  [json, { equals: { a: 1, b: 2 } }, [{ b: 2, a: 1 }], [{ a: 1 }, { a: 1, b: 2, c: 3 }]],
  [json, null, [null], [undefined, 0, '']],
  [text, 12, ['12', '12.0', 12], ['13', 'x']],
  [text, new SourceScalar('0012', 12), ['0012', '12'], ['13']],
  [status, 201, [201], [200]],
  [status, '2xx', [200, 299], [199, 300]],
  [status, { 'one-of': ['2xx', 304] }, [204, 304], [302]],
  // documents
  [
    json,
    { 'same-as': 'data/berth.json' },
    [{ at: 1, code: 'N1', tags: ['a', 'b'] }],
    [{ code: 'N1' }, 'N1', undefined],
  ],
  [
    json,
    { 'same-as': { file: 'data/berth.json', ignoring: ['$.at'], unordered: { '$.tags': '$' } } },
    [{ code: 'N1', tags: ['b', 'a'] }],
    [{ code: 'N2', tags: ['a', 'b'] }],
  ],
  [json, { 'same-as': { file: 'data/berth.json', only: ['$.code'] } }, [{ code: 'N1' }], [{ code: 'N2' }, {}]],
  // combinations
  [json, { not: 'a' }, ['b', undefined], ['a']],
  [json, { not: { 'one-of': ['a', 'b'] } }, ['c'], ['a', 'b']],
  [json, { 'one-of': ['requested', 'confirmed'] }, ['confirmed'], ['rejected', undefined]],
  [json, { 'at-least': 1, 'at-most': 14 }, [1, 14], [0, 15, '3']],
  [json, { over: 0 }, [0.1], [0, -1, null]],
  [json, { under: 10 }, [9.9], [10]],
  [text, { 'at-least': 10 }, ['10', '11.5'], ['9', 'x', '']],
  [time, { under: '2s' }, [1999], [2000]],
  [size, { 'at-most': '1kB' }, [1000], [1001]],
  // parts
  [json, { contains: 'bour' }, ['harbour'], ['quay', undefined]],
  [json, { contains: 3 }, [[1, 3]], [[1, '3']]],
  [json, { contains: { a: 1 } }, [{ a: 1, b: 2 }, [{ a: 1, b: 2 }]], [{ a: 2 }, [{ b: 1 }]]],
  [text, { 'starts-with': 'application/json' }, ['application/json; charset=utf-8'], ['text/json', undefined]],
  [text, { 'ends-with': '/calls' }, ['/v1/calls'], ['/v1/calls/']],
  [text, { matches: '^PC-[0-9]{4}$' }, ['PC-0001'], ['PC-001', 'xPC-0001', undefined]],
  [text, { matches: '[a-z]+' }, ['1a2'], ['123']],
  // presence, type, count
  [json, { exists: true }, [null, 0, ''], [undefined, []]],
  [json, { exists: false }, [undefined, []], [null, 1]],
  [json, { type: 'integer' }, [1, 1.0, long], [1.5, '1', undefined]],
  [json, { type: 'number' }, [1, 1.5], ['1']],
  [json, { type: ['string', 'null'] }, ['a', null], [1]],
  [json, { count: 2 }, [[1, 2], 'ab', { a: 1, b: 2 }], [[1], 'a', 2]],
  [json, { count: { 'at-least': 1 } }, [[1]], [[]]],
  [json, { all: { 'at-least': 0 } }, [[0, 5], []], [[1, -1], 3]],
  [json, { all: true }, [[true, true]], [[true, false]]],
  [json, { any: 'grain' }, [['mixed', 'grain']], [['mixed'], []]],
  // schemas
  [json, { schema: { type: 'object', required: ['id'] } }, [{ id: 1 }], [{}, 1]],
  [json, { schema: { type: 'string', format: 'date-time' } }, ['2026-11-24T09:00:00Z'], ['yesterday']],
  [json, { schema: 'data/any.json' }, [5], ['5']],
];

for (const [subject, expected, holding, failing] of cases) {
  const shown = JSON.stringify(expected);
  for (const found of holding) {
    test(`${shown} holds for ${JSON.stringify(found)}`, async () =>
      assert.equal(await holds(expected, found, subject), true));
  }
  for (const found of failing) {
    test(`${shown} does not hold for ${JSON.stringify(found)}`, async () =>
      assert.equal(await holds(expected, found, subject), false));
  }
}

test('every matcher is in the tables', () => {
  const used = JSON.stringify(cases.map(([, expected]) => expected));
  const left = [...matchers.keys()].filter((name) => !used.includes(`"${name}"`));
  assert.deepEqual(left, []);
});

const broken: readonly (readonly [Subject, Value, RegExp])[] = [
  [json, { equalz: 1 }, /no matcher equalz/],
  [json, {}, /empty/],
  [json, { 'one-of': 'a' }, /one-of takes a list/],
  [json, { 'at-least': 'many' }, /at-least takes a number/],
  [time, { under: 2 }, /a duration such as/],
  [size, { under: '2s' }, /a size such as/],
  [status, 'fine', /a status such as/],
  [json, { 'same-as': 5 }, /same-as takes a file/],
  [json, { 'same-as': { file: 'a.json', ignorng: [] } }, /same-as has no ignorng/],
  [json, { 'same-as': { file: 'a.json', ignoring: '$.a' } }, /lists of places/],
  [json, { type: 'text' }, /type takes/],
  [json, { exists: 'yes' }, /true or false/],
  [json, { matches: '(' }, /regular expression/],
];
for (const [subject, expected, says] of broken) {
  test(`${JSON.stringify(expected)} is refused`, async () => {
    await assert.rejects(holds(expected, 1, subject), says);
  });
}

test('a pattern that makes backtracking engines hang is responded at once', async () => {
  assert.equal(await holds({ matches: '^(a+)+$' }, `${'a'.repeat(50_000)}!`, json), false);
});

test('a pattern of a schema is matched as published: in linear time, looking around, and without the flag that it does not know', async () => {
  await loadPatterns();
  for (const [pattern, yes, no] of [
    ['^(a+)+$', 'aaaa', `${'a'.repeat(40)}!`],
    ['^[a-z0-9\\_]+$', 'berth_1', 'berth-1'],
    ['^(?=.*[0-9])[a-z0-9\\-]+$', 'quay-7', 'quay'],
    ['^(a|b)\\1$', 'aa', 'ab'],
  ] as const) {
    const { test: matches } = boundedPattern(pattern, 'u');
    assert.deepEqual([matches(yes), matches(no)], [true, false], pattern);
  }
  assert.notEqual(String(boundedPattern('a', 'u')), String(boundedPattern('b', 'u')));
});

test('a pattern that would take for ever is given up, and says so', async () => {
  await loadPatterns();
  const { test: matches } = boundedPattern('^(?=a)(a+)+$', 'u');
  assert.throws(() => matches(`${'a'.repeat(40)}!`), /took more than 250 ms/);
});
