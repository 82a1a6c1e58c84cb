/** The stand-in is strict: it refuses what a vendor would refuse, with the status and the message that one would give. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { startStandin } from '../../../src/standin/server.js';
import { harbourForThisFile } from '../../support/standin.js';

const { origin, credentials } = await harbourForThisFile();

async function call(
  method: string,
  path: string,
  { body, token, type = 'application/json' }: { body?: unknown; token?: string; type?: string } = {},
) {
  const response = await fetch(origin + path, {
    method,
    headers: {
      ...(body !== undefined && { 'content-type': type }),
      ...(token !== undefined && { authorization: `Bearer ${token}` }),
    },
    ...(body !== undefined && { body: typeof body === 'string' ? body : JSON.stringify(body) }),
  });
  const text = await response.text();
  return {
    status: response.status,
    headers: response.headers,
    body: text === '' ? undefined : (JSON.parse(text) as Record<string, unknown>),
  };
}

const login = await call('POST', '/v1/sessions', { body: credentials });
const token = login.body?.token as string;

test('a log-in gives a token, 201; a log-out ends it', async () => {
  assert.equal(login.status, 201);
  const other = (await call('POST', '/v1/sessions', { body: credentials })).body?.token as string;
  assert.equal((await call('GET', '/v1/berths', { token: other })).status, 200);
  assert.equal((await call('DELETE', '/v1/sessions/current', { token: other })).status, 204);
  const ended = await call('GET', '/v1/berths', { token: other });
  assert.equal(ended.status, 401);
  assert.match(ended.headers.get('www-authenticate') ?? '', /error="invalid_token"/);
});

const book = { berth: 'N1', nights: 2 };
const refusals: readonly (readonly [
  name: string,
  method: string,
  path: string,
  sending: Parameters<typeof call>[2],
  status: number,
  says: RegExp,
])[] = [
  ['no token', 'GET', '/v1/vessels', {}, 401, /bearer token/],
  ['a wrong password', 'POST', '/v1/sessions', { body: { ...credentials, password: 'x' } }, 401, /wrong/],
  ['an unknown vessel', 'GET', '/v1/vessels/1234567', { token }, 404, /no vessel/],
  ['an unknown address', 'GET', '/v1/boats', { token }, 404, /nothing is at/],
  ['a command that is no part', 'POST', '/gateway', { body: { name: 'lights' } }, 415, /a part named command/],
  ['a wrong method', 'PUT', '/v1/vessels', { token, body: {} }, 405, /not a method/],
  ['an unknown parameter', 'GET', '/v1/berths?colour=red', { token }, 400, /colour is not a field/],
  ['a parameter of the wrong type', 'GET', '/v1/vessels?limit=many', { token }, 400, /limit must be integer/],
  [
    'a missing field',
    'POST',
    '/v1/vessels/9000017/calls',
    { token, body: { berth: 'N1' } },
    422,
    /\/nights is missing/,
  ],
  [
    'a number as text',
    'POST',
    '/v1/vessels/9000017/calls',
    { token, body: { ...book, nights: '2' } },
    422,
    /\/nights must be integer/,
  ],
  [
    'a field that only the server sets',
    'POST',
    '/v1/vessels/9000017/calls',
    { token, body: { ...book, id: 'x' } },
    422,
    /\/id is not a field/,
  ],
  [
    'a value that is not allowed',
    'POST',
    '/v1/vessels/9000017/calls',
    { token, body: { ...book, cargo: 'gold' } },
    422,
    /one of grain, timber, mixed/,
  ],
  ['a berth that is too short', 'POST', '/v1/vessels/9000080/calls', { token, body: book }, 422, /188 m long/],
  [
    'a berth that is taken',
    'POST',
    '/v1/vessels/9000017/calls',
    { token, body: { ...book, berth: 'N2' } },
    409,
    /N2 is taken/,
  ],
  ['an amendment of nothing', 'PATCH', '/v1/calls/PC-0001', { token, body: {} }, 422, /fewer than 1/],
  ['broken JSON', 'POST', '/v1/sessions', { body: '{' }, 400, /JSON/],
  [
    'another media type',
    'POST',
    '/v1/sessions',
    { body: 'a=1', type: 'application/x-www-form-urlencoded' },
    415,
    /application\/json/,
  ],
];
for (const [name, method, path, sending, status, says] of refusals) {
  test(`${name} is refused with ${status} and an RFC 9457 problem`, async () => {
    const { status: given, headers, body } = await call(method, path, sending);
    assert.equal(given, status);
    assert.match(headers.get('content-type') ?? '', /^application\/problem\+json/);
    assert.equal(body?.status, status);
    assert.match(String(body?.detail), says);
    if (status === 405) assert.equal(headers.get('allow'), 'GET');
    if (status === 422)
      assert.ok(Array.isArray(body?.errors) && (body.errors as { pointer: string }[])[0]?.pointer.startsWith('/'));
  });
}

test('a port call is made, read, listed, replaced, amended in part, confirmed after a moment, and deleted', async () => {
  const made = await call('POST', '/v1/vessels/9000017/calls', { token, body: book });
  const id = made.body?.id as string;
  assert.deepEqual(
    [made.status, made.headers.get('location'), made.body?.state],
    [201, `/v1/calls/${id}`, 'requested'],
  );
  const listed = await call('GET', `/v1/calls?berth=N1`, { token });
  assert.equal(listed.body?.total, 1);
  const replaced = await call('PUT', `/v1/calls/${id}`, {
    token,
    body: { berth: 'N1', nights: 4, cargo: 'timber', pilot: true },
  });
  assert.deepEqual([replaced.body?.nights, replaced.body?.cargo, replaced.body?.pilot], [4, 'timber', true]);
  const amended = await call('PATCH', `/v1/calls/${id}`, { token, body: { nights: 5 } });
  assert.deepEqual([amended.body?.nights, amended.body?.cargo], [5, 'timber']);
  // The desk takes its time.
  const states = new Set<unknown>();
  while (!states.has('confirmed')) states.add((await call('GET', `/v1/calls/${id}`, { token })).body?.state);
  assert.deepEqual([...states].at(-1), 'confirmed');
  assert.equal((await call('DELETE', `/v1/calls/${id}`, { token })).status, 204);
  assert.equal((await call('GET', `/v1/calls/${id}`, { token })).status, 404);
});

test('the data is the same for one seed, and another for another', async () => {
  const vesselsOf = async (seed: number): Promise<unknown> => {
    const own = await startStandin({ port: 0, seed });
    const post = await fetch(`${own.origin}/v1/sessions`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(credentials),
    });
    const { token: mine } = (await post.json()) as { token: string };
    const list = await (
      await fetch(`${own.origin}/v1/vessels`, { headers: { authorization: `Bearer ${mine}` } })
    ).json();
    await own.close();
    return list;
  };
  assert.deepEqual(await vesselsOf(5), await vesselsOf(5));
  assert.notDeepEqual(await vesselsOf(5), await vesselsOf(6));
});
