/** JSONPath against the compliance suite that is published beside RFC 9535: every case. */
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { test } from 'node:test';
import { compileJsonPath } from '../../../src/core/place/json-path/compile.js';
import type { Value } from '../../../src/core/value/written.js';

interface Case {
  readonly name: string;
  readonly selector: string;
  readonly document?: Value;
  readonly result?: Value[];
  readonly results?: Value[][];
  readonly invalid_selector?: boolean;
}

const folder = dirname(createRequire(import.meta.url).resolve('jsonpath-rfc9535/package.json'));
const suite = JSON.parse(
  readFileSync(join(folder, 'src/__tests__/jsonpath-compliance-test-suite/cts.json'), 'utf8'),
) as { tests: Case[] };

test('the compliance suite is there in full', () => {
  assert.equal(suite.tests.length, 687);
});

for (const { name, selector, document, result, results, invalid_selector: invalid } of suite.tests) {
  test(`compliance: ${name}`, async () => {
    if (invalid) {
      assert.throws(() => compileJsonPath(selector, []), { code: 'place-syntax' });
      return;
    }
    const loads: Promise<unknown>[] = [];
    const path = compileJsonPath(selector, loads);
    await Promise.all(loads);
    const found = path.select(document as Value);
    const allowed = results ?? [result as Value[]];
    assert.ok(
      allowed.some((one) => JSON.stringify(one) === JSON.stringify(found)),
      `${selector} gave ${JSON.stringify(found)}`,
    );
  });
}

test('a singular query is told from others', () => {
  for (const singular of ['$', '$.a', "$['a'][0].b", '$.a[-1]'])
    assert.equal(compileJsonPath(singular, []).singular, true, singular);
  for (const other of ['$.*', '$..a', '$[0,1]', '$[0:1]', '$[?@.a]'])
    assert.equal(compileJsonPath(other, []).singular, false, other);
});

test('members that a prototype supplies are not found', () => {
  for (const path of ['$.toString', '$.__proto__', '$.constructor'])
    assert.deepEqual(compileJsonPath(path, []).select({ a: 1 }), []);
  assert.deepEqual(compileJsonPath('$.__proto__', []).select(JSON.parse('{"__proto__": 7}') as Value), [7]);
});

test('a very deep response is walked without an end of the stack', () => {
  let deep: Value = 1;
  for (let level = 0; level < 50_000; level += 1) deep = [deep];
  assert.equal(compileJsonPath('$..*', []).select(deep).length, 50_000);
});

const unquoted: readonly (readonly [path: string, remedy: RegExp])[] = [
  ['$.paths.x-note.of', /^write \['x-note'\] in place of \.x-note: /],
  ['$.items[0].@type', /^write \['@type'\] in place of \.@type: /],
  ['$.2nd', /^write \['2nd'\] in place of \.2nd: /],
  ['$.a(', /^write \$\.name, /],
  ['$[', /^write \$\.name, /],
];
for (const [path, remedy] of unquoted)
  test(`what to write in place of ${path}`, () => {
    assert.throws(() => compileJsonPath(path, []), { code: 'place-syntax', remedy });
  });
