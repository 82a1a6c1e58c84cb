/** What is browsed as rows: operations as a tree and as a question finds them; echoes. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { echoesOutline } from '../../../src/core/browsing/echoes.js';
import { operationsOutline } from '../../../src/core/browsing/operations.js';
import type { SourceLists } from '../../../src/core/documentation/index/index-file.js';
import type { Echo } from '../../../src/core/echo/echo.js';

const listed = (id: string, method: string, path: string) => ({
  id,
  method,
  path,
  group: 'harbour',
  summary: `${id} in words`,
  deprecated: id === 'oldBerths',
  feeds: [],
});
const operations = [
  listed('listBerths', 'GET', '/v1/berths'),
  listed('addBerth', 'POST', '/v1/berths'),
  listed('showBerth', 'GET', '/v1/berths/{code}'),
  listed('oldBerths', 'GET', '/v0/berths'),
];
const source = { facts: { operations: operations.length }, listed: () => operations } as unknown as SourceLists;
const outline = operationsOutline(new Map([['harbour', source]]));
const rows = (...opened: string[]): string[] =>
  outline.rows('', new Set(opened)).map(({ depth, mark, text, aside }) => [depth, mark, text, aside].join(' ').trim());

test('a source is closed until it is opened', () => {
  assert.deepEqual(rows(), ['0  harbour 4']);
});

test('parts that hold nothing else are one row, and one operation is a row of its own', () => {
  assert.deepEqual(rows('harbour/'), ['0  harbour 4', '1  v1/berths 3', '1 GET v0/berths deprecated']);
});

test('operations of one path stand in it by what they are for, what lies below by its part', () => {
  assert.deepEqual(rows('harbour/', 'harbour/v1/berths/').slice(2, 5), [
    '2 GET listBerths in words',
    '2 POST addBerth in words',
    '2 GET {code}',
  ]);
});

test('the way to an operation opens what holds it', () => {
  assert.deepEqual(outline.wayTo({ kind: 'operation', name: 'harbour/showBerth' }), [
    'harbour/',
    'harbour/v1/berths/',
    'harbour/v1/berths/{code}/harbour/showBerth',
  ]);
  assert.deepEqual(outline.wayTo({ kind: 'operation', name: 'harbour/addBerth' }).slice(0, 2), [
    'harbour/',
    'harbour/v1/berths/',
  ]);
  assert.deepEqual(outline.wayTo({ kind: 'operation', name: 'quays/addBerth' }), []);
  assert.deepEqual(outline.wayTo({ kind: 'type', name: 'harbour/Berth' }), []);
});

test('every row of the tree has a key of its own, and the way leads to it', () => {
  const opened = new Set(['harbour/', 'harbour/v1/berths/']);
  const all = outline.rows('', opened);
  assert.equal(new Set(all.map(({ key }) => key)).size, all.length);
  for (const { key, target } of all.filter(({ holds }) => !holds)) assert.equal(outline.wayTo(target).at(-1), key);
});

test('what stands below a row is counted, and only its first are listed', () => {
  const { count, operations: first } = outline.under('harbour/', 2);
  assert.deepEqual([count, first.map(({ id }) => id)], [4, ['listBerths', 'addBerth']]);
  assert.equal(outline.under('harbour/v1/berths/', 100).operations.length, 3);
  assert.equal(outline.under('harbour/nowhere/', 100).count, 0);
});

const echo = (id: string, method: string, url: string, status: number | undefined): Echo =>
  ({
    id,
    at: '2026-11-24T09:30:00.000Z',
    environment: 'sandbox',
    request: 'berths/free',
    met: 0,
    sent: { method, url, headers: [] },
    ...(status === undefined ? { unfinished: true } : { received: { status, reason: '', headers: [] } }),
  }) as unknown as Echo;

test('echoes are found by words in any of what is told of them', () => {
  const echoes = [
    echo('a.1', 'GET', 'http://127.0.0.1:4810/v1/berths?free=true', 200),
    echo('a.2', 'POST', 'http://127.0.0.1:4810/v1/berths', 422),
    echo('a.3', 'DELETE', 'http://127.0.0.1:4810/v1/berths/N1', undefined),
  ];
  const list = echoesOutline(() => echoes);
  const found = (typed: string): string[] => list.rows(typed, new Set()).map(({ mark, text }) => `${mark} ${text}`);
  assert.deepEqual(found(''), ['200 GET /v1/berths?free=true', '422 POST /v1/berths', 'in doubt DELETE /v1/berths/N1']);
  assert.deepEqual(found('post 422'), ['422 POST /v1/berths']);
  assert.deepEqual(found('failed'), ['in doubt DELETE /v1/berths/N1']);
  assert.deepEqual(found('lighthouse'), []);
});
