/** Bodies that say no to a good status, and bodies that only sound like it. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import type { Verdict } from '../../../src/core/expectation/expectations.js';
import { contradictionIn } from '../../../src/core/place/contradiction.js';

function said(body: unknown, places: readonly string[] = [], status = 200): string | undefined {
  const text = typeof body === 'string' ? body : JSON.stringify(body);
  const verdicts = places.map((place): Verdict => ({ place, ok: true }));
  const found = contradictionIn(
    {
      status,
      time: 1,
      size: text.length,
      finalUrl: 'http://127.0.0.1/',
      headers: [['Content-Type', text.startsWith('<') ? 'application/xml' : 'application/json; charset=utf-8']],
      text,
      json: () => JSON.parse(text),
      hopCount: 0,
    },
    verdicts,
  );
  return found && `${found.at} says ${found.found}`;
}

const saying: readonly (readonly [body: unknown, says: string])[] = [
  [{ success: false, berth: null }, '$.success says false'],
  [{ ok: 'no' }, '$.ok says no'],
  [{ error: 'no such berth' }, '$.error says no such berth'],
  [{ success: false, error: 'the desk is shut' }, '$.error says the desk is shut'],
  [{ error: { code: 'E7' } }, '$.error says {"code":"E7"}'],
  [{ items: [], errors: ['a', 'b'] }, '$.errors says 2 errors'],
  [{ error_message: 'the desk is shut' }, '$.error_message says the desk is shut'],
  [{ status: 'error', data: null }, '$.status says error'],
  [{ status: 404, detail: 'gone' }, '$.status says 404'],
  [{ meta: { 'status-code': '503' } }, "$.meta['status-code'] says 503"],
  [{ result: { outcome: 'DENIED' } }, '$.result.outcome says DENIED'],
  // GraphQL (October 2021, section 7.1), whose status was all that was expected.
  [{ data: null, errors: [{ message: 'no pilot' }] }, 'errors says 1 error'],
  ['<Result code="401" text="no ticket"/>', '/Result/@code says 401'],
  ["<?xml version='1.0'?><!-- gate --><g:Result success='false'><a/></g:Result>", '/Result/@success says false'],
  ['<Response><When>now</When><Error>no such light</Error></Response>', '/Response/Error says no such light'],
  [
    '<e:Envelope xmlns:e="x"><e:Body><e:Fault><faultcode>e:Server</faultcode><faultstring>shut</faultstring></e:Fault></e:Body></e:Envelope>',
    'errors says 1 error',
  ],
];
test('a body that says no is told, with the place', () => {
  for (const [body, says] of saying) assert.equal(said(body), says, JSON.stringify(body));
});

const silent: readonly unknown[] = [
  { success: true, error: null },
  { error: '' },
  { error: 'none', errors: [] },
  { errors: 0, failures: '0' },
  { errors: {} },
  // What becomes of a thing is no verdict on the call.
  { status: 'rejected', state: 'failed' },
  { status: 'cancelled' },
  { code: 'N1' },
  { code: 4012 },
  { status: 201 },
  { items: [{ success: false }] },
  { berth: { error: 'silted' } },
  [{ error: 'x' }],
  'true',
  '<Result code="0"/>',
  '<Log><Entry><Error>an old one</Error></Entry></Log>',
  '<Log><Error/></Log>',
];
test('what only sounds like it is passed over', () => {
  for (const body of silent) assert.equal(said(body), undefined, JSON.stringify(body));
});

test('a response whose body was looked into, or whose status is not good, has nothing to be told of', () => {
  const no = { success: false };
  assert.equal(said(no, ['status', 'header.etag']), '$.success says false');
  for (const place of ['$.id', '//Result', '/Result', 'body', 'errors'])
    assert.equal(said(no, [place]), undefined, place);
  for (const status of [199, 302, 404]) assert.equal(said(no, [], status), undefined);
});
