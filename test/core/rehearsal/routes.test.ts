/** Which documented path a path is, and how lists, identifiers and pages belong together. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Operation } from '../../../src/core/documentation/model/model.js';
import { identityName, nextIdentity } from '../../../src/core/rehearsal/remembering/identity.js';
import { listPath, paged } from '../../../src/core/rehearsal/remembering/paging.js';
import { Routes } from '../../../src/core/rehearsal/remembering/routes.js';
import { troubleMaker, troubleOf } from '../../../src/core/rehearsal/trouble.js';

const routes = new Routes();
for (const path of [
  '/v1/berths',
  '/v1/berths/{code}',
  '/v1/berths/free',
  '/v1/vessels/{imo}/calls',
  '/v1/calls/{call}',
  '/v1/plans/{name}.json',
  '/v1/plans/{name}',
  '/v1/quays/{quay}/berths/{number}',
])
  routes.add('GET', path, 'harbour', path);

for (const [path, template, values] of [
  ['/v1/berths', '/v1/berths', {}],
  ['/v1/berths/', '/v1/berths', {}],
  ['/v1/berths/N1', '/v1/berths/{code}', { code: 'N1' }],
  ['/v1/berths/free', '/v1/berths/free', {}],
  ['/v1/berths/a%2Fb', '/v1/berths/{code}', { code: 'a/b' }],
  ['/v1/plans/east.json', '/v1/plans/{name}.json', { name: 'east' }],
  ['/v1/plans/east', '/v1/plans/{name}', { name: 'east' }],
  ['/v1/quays/west/berths/7', '/v1/quays/{quay}/berths/{number}', { quay: 'west', number: '7' }],
  ['/v1/berth', undefined, undefined],
  ['/v1/berths/N1/more', undefined, undefined],
  ['/v1/__proto__', undefined, undefined],
] as const)
  test(`${path} is ${template ?? 'not documented'}`, () => {
    const found = routes.find(path);
    assert.equal(found?.route.template, template);
    assert.deepEqual(found?.values, values);
  });

for (const [list, member] of [
  ['/v1/berths', '/v1/berths/{code}'],
  ['/v1/vessels/{imo}/calls', '/v1/calls/{call}'],
  ['/v1/quays/{quay}/berths', '/v1/quays/{quay}/berths/{number}'],
  ['/v1/notices', undefined],
] as const)
  test(`one thing of ${list} is ${member ?? 'nowhere'}`, () => assert.equal(routes.memberOf(list)?.template, member));

for (const [thing, parameter, name] of [
  [{ id: 'a', name: 'b' }, 'callId', 'id'],
  [{ callId: 'a', id: 'b' }, 'call_id', 'callId'],
  [{ call: 'a' }, 'callId', 'call'],
  [{ imo: '9000001', name: 'b' }, 'imo', 'imo'],
  [{ weather: 'fair' }, 'call', undefined],
  [{ id: { deep: true } }, 'id', undefined],
] as const)
  test(`the identifier of ${JSON.stringify(thing)} by ${parameter} is ${name}`, () =>
    assert.equal(identityName(thing, parameter), name));

test('identifiers grow in their own form, and are unlike each other', () => {
  assert.equal(nextIdentity('PC-0001', 2), 'PC-0003');
  assert.equal(nextIdentity(41, 1), 42);
  assert.equal(nextIdentity('east', 3), 'east-3');
  assert.equal(nextIdentity('PC-9999', 1), 'PC-0000');
  const uuids = [1, 2, 3].map((count) => nextIdentity('00000000-0000-4000-8000-000000000000', count));
  assert.equal(new Set(uuids).size, 3);
});

const list = (...names: readonly string[]): Operation =>
  ({
    parameters: names.map((name) => ({ name, in: 'query', type: 'integer', required: false })),
  }) as unknown as Operation;
const five = Array.from({ length: 5 }, (_, index) => ({ id: index }));
const page = (response: object, operation: Operation, query: string): { items: { id: number }[]; next?: string } =>
  paged(response as never, ['items'], five, operation, new URLSearchParams(query), '/v1/calls') as never;
const ids = ({ items }: { items: { id: number }[] }): number[] => items.map(({ id }) => id);

test('pages by offset, by number, and by cursor', () => {
  const response = { items: [], total: 2, next: 'x', hasMore: false };
  assert.deepEqual(ids(page(response, list('limit', 'offset'), 'limit=2&offset=3')), [3, 4]);
  assert.deepEqual(ids(page(response, list('per_page', 'page'), 'per_page=2&page=2')), [2, 3]);
  const first = page(response, list('limit', 'cursor'), 'limit=2');
  assert.deepEqual(
    [ids(first), (first as never as { total: number }).total, (first as never as { hasMore: boolean }).hasMore],
    [[0, 1], 5, true],
  );
  const second = page(response, list('limit', 'cursor'), `limit=2&cursor=${first.next}`);
  const third = page(response, list('limit', 'cursor'), `limit=2&cursor=${second.next}`);
  assert.deepEqual([ids(second), ids(third), third.next], [[2, 3], [4], undefined]);
});

test('an address leads to the next page, the last has none, and a documented default is in force', () => {
  const response = { items: [], next: 'https://larkhaven.example/calls' };
  assert.equal(
    page(response, list('limit', 'offset'), 'limit=2&quay=east').next,
    '/v1/calls?limit=2&quay=east&offset=2',
  );
  assert.equal(page(response, list('limit', 'page'), 'limit=2&page=2').next, '/v1/calls?limit=2&page=3');
  assert.equal(page(response, list('limit', 'page'), 'limit=2&page=3').next, undefined);
  const operation = { parameters: [{ name: 'limit', in: 'query', type: 'integer', required: false, default: 3 }] };
  assert.deepEqual(ids(page(response, operation as never, '')), [0, 1, 2]);
});

test('the list of a response is itself, or the first member that is one', () => {
  assert.deepEqual(listPath([{}]), []);
  assert.deepEqual(listPath({ total: 1, data: { items: [{}] } }), ['data', 'items']);
  assert.equal(listPath({ name: 'N1' }), undefined);
});

test('trouble repeats with its seed, comes as often as asked, and is refused where it is unclear', () => {
  const wanted = troubleOf({ throttle: '30%', drop: '1.5%', slow: '20ms', fail: '503:10%' });
  assert.deepEqual(wanted, { throttle: 0.3, drop: 0.015, slow: 20, fail: { status: 503, share: 0.1 } });
  const [one, other] = [troubleMaker(wanted, 3), troubleMaker(wanted, 3)];
  let throttled = 0;
  for (let index = 0; index < 1000; index += 1) {
    const met = one();
    assert.deepEqual(met, other());
    if (met.instead?.status === 429) throttled += 1;
  }
  assert.ok(throttled > 250 && throttled < 350, String(throttled));
  for (const given of [{ throttle: '30' }, { drop: '101%' }, { slow: '20' }, { fail: '200' }, { fail: '500:x' }])
    assert.throws(() => troubleOf(given), /takes/);
});
