/** Where names come from: layers of variables, inputs and their types, addresses. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { openCollection } from '../../../src/core/collection/collection.js';
import { inputValue, planInputs } from '../../../src/core/collection/variables/inputs.js';
import {
  collectionVariables,
  readEnvironment,
  variableNames,
  variableScopes,
} from '../../../src/core/collection/variables/variable-scopes.js';
import { parseYaml } from '../../../src/core/collection/yaml.js';
import { absoluteUrl, compileAddress, withQuery } from '../../../src/core/exchange/address/address.js';
import { Evaluation } from '../../../src/core/expression/evaluation.js';
import { type Named, type Names, namesFrom, noNames } from '../../../src/core/expression/names.js';
import { runtimeMaker } from '../../../src/core/expression/runtime.js';
import { nearest, nearestHint } from '../../../src/core/problem/nearest.js';
import type { Value } from '../../../src/core/value/written.js';
import { collectionOf } from '../../support/folder.js';

const hooks = { runtime: runtimeMaker({ root: '.', secret: () => 'gull-and-tern' })(), onSecret: () => undefined };
const evaluation = (names: Names): Evaluation => new Evaluation(names, hooks);

function variables(
  files: Record<string, string>,
  settings: Record<string, string> = {},
  caller: Names = noNames,
): Names {
  const collection = openCollection(collectionOf(files));
  const loads: Promise<unknown>[] = [];
  const environment = readEnvironment(collection, undefined, loads);
  return variableNames(
    variableScopes(new Map(Object.entries(settings)), environment, collectionVariables(collection, loads)),
    caller,
    hooks,
  );
}

const layered = {
  'echo-trail.yaml':
    'name: t\nenvironment: sandbox\nvariables: {edition: "1", shared: collection, made: "${edition}-x"}\n',
  'environments/sandbox.yaml':
    'variables: {edition: "2", origin: "https://${host}.example", list: ["${edition}", 3]}\n',
};

test('--set comes before the environment, the environment before the collection, each with its origin', () => {
  const names = variables(layered, { shared: 'given' });
  assert.deepEqual(names.lookup('edition'), { value: '2', origin: 'environment sandbox' });
  assert.deepEqual(names.lookup('shared'), { value: 'given', origin: 'the settings of this command' });
  assert.deepEqual(variables(layered).lookup('shared'), { value: 'collection', origin: 'collection variables' });
  assert.equal(names.lookup('nothing'), undefined);
});

test('a variable may use others, in lists too, and the names of the caller', () => {
  const names = variables(layered, {}, namesFrom({ host: 'n1' }, 'row 1'));
  assert.equal(names.lookup('made')?.value, '2-x');
  assert.deepEqual(names.lookup('list')?.value, ['2', 3]);
  assert.equal(names.lookup('origin')?.value, 'https://n1.example');
  assert.throws(() => variables(layered).lookup('origin'), { code: 'unknown-name' });
});

test('variables that refer to each other in a circle are told', () => {
  const names = variables({ 'environments/sandbox.yaml': 'variables: {a: "${b}", b: "${c}", c: "${a}"}\n' });
  assert.throws(() => names.lookup('a'), { code: 'circle' });
});

test('a variable made of a secret is secret', () => {
  const names = variables({ 'environments/sandbox.yaml': 'variables: {auth: "key ${secret.k}"}\n' });
  assert.equal(names.lookup('auth')?.secret, true);
});

function input(declaration: string, given: Value | undefined): Named | undefined {
  const yaml = parseYaml(`inputs: {x: ${declaration}}\n`, 'requests/r.yaml');
  const [plan] = planInputs(
    (yaml.value as { inputs: Parameters<typeof planInputs>[0] }).inputs,
    { yaml },
    'request r',
    [],
  );
  assert.ok(plan);
  return inputValue(
    plan,
    given === undefined ? undefined : { value: given, origin: 'given' },
    namesFrom({ edition: 2 }, 'variables'),
    hooks,
  );
}

const values: readonly (readonly [declaration: string, given: Value | undefined, value: Value | undefined])[] = [
  ['{}', 'a', 'a'],
  ['{}', undefined, undefined],
  ['{default: 3}', undefined, 3],
  ['{default: "${edition}"}', undefined, 2],
  ['{type: integer}', '14', 14],
  ['{type: number}', '1.5', 1.5],
  ['{type: boolean}', 'true', true],
  ['{type: string}', 5, '5'],
  ['{type: array}', '[1, 2]', [1, 2]],
  ['{type: object}', '{"a": 1}', { a: 1 }],
  ['{one-of: [grain, timber]}', 'grain', 'grain'],
  ['{type: integer, at-least: 1, at-most: 14}', '14', 14],
];
for (const [declaration, given, value] of values) {
  test(`the input ${declaration} given ${JSON.stringify(given)} is ${JSON.stringify(value)}`, () =>
    assert.deepEqual(input(declaration, given)?.value, value));
}

const refused: readonly (readonly [declaration: string, given: Value])[] = [
  ['{type: integer}', '1.5'],
  ['{type: integer}', 'two'],
  ['{type: boolean}', 'yes'],
  ['{type: array}', '{"a": 1}'],
  ['{type: string}', [1]],
  ['{one-of: [grain, timber]}', 'gold'],
  ['{at-most: 14}', 15],
  ['{matches: "^[0-9]{7}$"}', 'x'],
];
for (const [declaration, given] of refused) {
  test(`the input ${declaration} refuses ${JSON.stringify(given)}`, async () => {
    await import('../../../src/core/place/json-path/regexp.js').then(({ loadRegexp }) => loadRegexp());
    assert.throws(() => input(declaration, given), { code: 'input-value' });
  });
}

const addresses: readonly (readonly [template: string, parts: Record<string, Value>, address: string])[] = [
  ['${origin}/v1/{a}', { a: 'x' }, 'http://h.example/base/v1/x'],
  ['${origin}/v1/{a}/{b}', { a: 'a/b', b: '100%' }, 'http://h.example/base/v1/a%2Fb/100%25'],
  ['http://h.example/{a}', { a: 'ü ä' }, 'http://h.example/%C3%BC%20%C3%A4'],
  ['http://h.example/{a}', { a: "it's~(!)" }, 'http://h.example/it%27s~%28%21%29'],
  ['http://h.example/x-{a}.json', { a: 7 }, 'http://h.example/x-7.json'],
  ['${origin}', {}, 'http://h.example/base/'],
];
for (const [template, parts, address] of addresses) {
  test(`the address ${template} is ${address}`, () => {
    const plan = compileAddress(template, undefined, []);
    const names = namesFrom({ origin: 'http://h.example/base/' }, 'environment');
    assert.equal(
      plan.evaluate(evaluation(names), (name) => parts[name]),
      address,
    );
  });
}

test('what is no part of an address is refused when the file is read', () => {
  for (const wrong of ['{}', '{a b}', '{a,}', '{?}', '{a:0}', '{a', 'a}'])
    assert.throws(() => compileAddress(`http://h.example/${wrong}`, undefined, []), { code: 'address-shape' }, wrong);
});

test('a part of an address must have a value, and not an empty one', () => {
  const plan = compileAddress('http://h.example/{a}', undefined, []);
  for (const value of [undefined, '', null])
    assert.throws(() => plan.evaluate(evaluation(noNames), () => value as Value));
});

test('a value cannot make a segment . or .. in the path, encoded or not; the file itself may', () => {
  for (const [address, value] of [
    ['http://h.example/v1/{a}/calls', '..'],
    ['http://h.example/v1/{a}', '.'],
    ['http://h.example/v1/{+a}/calls', 'x/../../y'],
    ['http://h.example/v1/{+a}', '%2e%2E'],
    ['http://h.example/v1{/a*}', ['x', '..']],
    ['http://h.example/v1/{a}.', '.'],
  ] as const) {
    const plan = compileAddress(address, undefined, []);
    assert.throws(() => plan.evaluate(evaluation(noNames), () => value as Value), { code: 'address-shape' }, address);
  }
  for (const [address, value, written] of [
    ['http://h.example/v1/{a}', '...', 'http://h.example/v1/...'],
    ['http://h.example/v1/{a}', '%2e', 'http://h.example/v1/%252e'],
    ['http://h.example/v1/{a}?q={a}', 'a..b', 'http://h.example/v1/a..b?q=a..b'],
    ['http://h.example/v1/../{a}', 'x', 'http://h.example/v1/../x'],
  ] as const) {
    const plan = compileAddress(address, undefined, []);
    assert.equal(
      plan.evaluate(evaluation(noNames), () => value),
      written,
    );
  }
});

test('parameters join those that an address has already', () => {
  const pair = { name: 'a b', value: 'c&d', secret: false };
  const shown = (one: { value: string }): string => encodeURIComponent(one.value);
  assert.equal(withQuery('http://h.example/x', [pair], shown), 'http://h.example/x?a%20b=c%26d');
  assert.equal(withQuery('http://h.example/x?y=1', [pair], shown), 'http://h.example/x?y=1&a%20b=c%26d');
  assert.equal(withQuery('http://h.example/x?', [pair], shown), 'http://h.example/x?a%20b=c%26d');
  assert.equal(withQuery('http://h.example/x#f', [pair], shown), 'http://h.example/x?a%20b=c%26d#f');
});

test('an address must be absolute, by http or https', () => {
  assert.equal(absoluteUrl('http://h.example').href, 'http://h.example/');
  for (const wrong of ['/v1', 'h.example/x', 'ftp://h.example', 'localhost:80', ''])
    assert.throws(() => absoluteUrl(wrong), { code: 'address-shape' }, wrong);
});

const near: readonly (readonly [name: string, known: readonly string[], found: string | undefined])[] = [
  ['nmae', ['name', 'id'], 'name'],
  ['Name', ['name'], 'name'],
  ['mehtod', ['method', 'meet'], 'method'],
  ['berht', ['berths', 'berth'], 'berth'],
  ['x', ['name'], undefined],
  ['vessels/shw', ['vessels/show', 'vessels/list'], 'vessels/show'],
];
for (const [name, known, found] of near)
  test(`nearest to ${name} is ${found}`, () => assert.equal(nearest(name, known), found));

test('where nothing is near, the hint lists what there is', () => {
  assert.equal(nearestHint('zzz', ['a1', 'b2']), 'known: a1, b2');
  assert.equal(nearestHint('zzz', []), undefined);
  assert.match(
    nearestHint(
      'zzz',
      Array.from({ length: 20 }, (_, n) => `name${n}`),
    ) ?? '',
    /and 12 more$/,
  );
});
