/** `rehearse` over HTTP: what is wrong is refused as documented, what is right is remembered. */
import assert from 'node:assert/strict';
import { get } from 'node:http';
import { before, test } from 'node:test';
import { collectionOf, demoCollection } from '../../support/folder.js';
import { echoTrail } from '../../support/program.js';
import { type Rehearsed, rehearsed } from '../../support/rehearsal.js';

const signedIn = { headers: { authorization: 'Bearer a.b-c' } };
let harbour: Rehearsed;
before(async () => {
  harbour = await rehearsed(demoCollection('http://127.0.0.1:9'), 'harbour');
});

const refusals: readonly (readonly [
  what: string,
  method: string,
  path: string,
  given: object,
  status: number,
  detail: RegExp,
])[] = [
  ['no credentials', 'GET', '/v1/berths', {}, 401, /the header Authorization is missing/],
  [
    'credentials of another scheme',
    'GET',
    '/v1/berths',
    { headers: { authorization: 'Basic YTpi' } },
    401,
    /is Basic, documented is bearer/,
  ],
  [
    'a wrong path',
    'GET',
    '/v1/berth',
    signedIn,
    404,
    /no documented operation is GET \/v1\/berth; did you mean \/v1\/berths\?/,
  ],
  [
    'a wrong method',
    'PUT',
    '/v1/berths/N1',
    signedIn,
    405,
    /the method is PUT, documented for \/v1\/berths\/\{code\} is GET/,
  ],
  [
    'a parameter that is not documented',
    'GET',
    '/v1/berths?quai=north',
    signedIn,
    400,
    /the query parameter quai is not documented/,
  ],
  [
    'a parameter of another type',
    'GET',
    '/v1/berths?free=perhaps',
    signedIn,
    400,
    /query free is "perhaps", documented as boolean/,
  ],
  [
    'a body of another type',
    'POST',
    '/v1/vessels/9000001/calls',
    { ...signedIn, json: { berth: 'N1', nights: '2' } },
    422,
    /\$\.nights is a string, documented as integer/,
  ],
  [
    'a body that is no JSON',
    'POST',
    '/v1/vessels/9000001/calls',
    { ...signedIn, json: '{' },
    422,
    /the body is not JSON/,
  ],
  ['no body', 'POST', '/v1/vessels/9000001/calls', signedIn, 422, /the body is missing/],
  [
    'a body of another media type',
    'POST',
    '/v1/vessels/9000001/calls',
    { json: 'berth=N1', headers: { ...signedIn.headers, 'content-type': 'text/plain' } },
    415,
    /the body is text\/plain, documented is application\/json/,
  ],
];

for (const [what, method, path, given, status, detail] of refusals)
  test(`${what} is refused, and says what is wrong`, async () => {
    const answer = await harbour.fetch(method, path, given);
    assert.equal(answer.status, status, answer.text);
    assert.match((answer.json as { detail: string }).detail, detail);
    assert.match(answer.headers.get('rehearsal-fault') ?? '', detail);
    assert.match(answer.headers.get('content-type') ?? '', /problem\+json/);
  });

test('what is made can be read, listed, changed and deleted, and is unlike others', async () => {
  const book = (nights: number) =>
    harbour.fetch('POST', '/v1/vessels/9000017/calls', { ...signedIn, json: { berth: 'N1', nights } });
  const [one, other] = [await book(2), await book(5)];
  assert.deepEqual([one.status, other.status], [201, 201], one.text);
  const [at, there] = [one.headers.get('location') ?? '', other.headers.get('location') ?? ''];
  assert.notEqual(at, there);
  const read = await harbour.fetch('GET', at, signedIn);
  assert.deepEqual(
    [read.status, (read.json as { nights: number }).nights, (read.json as { imo: string }).imo],
    [200, 2, '9000017'],
  );
  const changed = await harbour.fetch('PATCH', at, {
    ...signedIn,
    json: { nights: 3 },
  });
  assert.equal(changed.status, 200, changed.text);
  assert.equal(((await harbour.fetch('GET', at, signedIn)).json as { nights: number }).nights, 3);
  assert.equal(((await harbour.fetch('GET', there, signedIn)).json as { nights: number }).nights, 5);
  const all = (await harbour.fetch('GET', '/v1/calls', signedIn)).json as { items: { nights: number }[] };
  assert.deepEqual(
    all.items.slice(-2).map(({ nights }) => nights),
    [3, 5],
  );
  assert.equal((await harbour.fetch('DELETE', at, signedIn)).status, 204);
  for (const method of ['GET', 'DELETE']) assert.equal((await harbour.fetch(method, at, signedIn)).status, 404, method);
  const left = (await harbour.fetch('GET', '/v1/calls', signedIn)).json as { items: { nights: number }[] };
  assert.equal(left.items.length, all.items.length - 1);
});

test('a thing has the name that its path gives it, and is the same each time', async () => {
  const [one, again, other] = [
    await harbour.fetch('GET', '/v1/vessels/9000001', signedIn),
    await harbour.fetch('GET', '/v1/vessels/9000001', signedIn),
    await harbour.fetch('GET', '/v1/vessels/9000002', signedIn),
  ];
  assert.equal((one.json as { imo: string }).imo, '9000001');
  assert.deepEqual(one.json, again.json);
  assert.equal((other.json as { imo: string }).imo, '9000002');
});

test('each request is told, with its operation, where the response is from, and what was wrong', async () => {
  await harbour.fetch('GET', '/v1/vessels/9000003', signedIn);
  await harbour.fetch('GET', '/v1/nothing', signedIn);
  const told = (target: string): Record<string, unknown> | undefined =>
    harbour.said.find((one) => one.target === target);
  assert.deepEqual(
    [told('/v1/vessels/9000003')?.operation, told('/v1/vessels/9000003')?.status, told('/v1/nothing')?.from],
    ['harbour/showVessel', 200, 'refusal'],
  );
});

test('trouble on purpose: too busy, failed, and a connection that ends', async () => {
  const cwd = demoCollection('http://127.0.0.1:9');
  const busy = await rehearsed(cwd, '--throttle', '100%');
  const answer = await busy.fetch('GET', '/v1/berths', signedIn);
  assert.deepEqual([answer.status, answer.headers.get('retry-after')], [429, '1']);
  const failing = await rehearsed(cwd, '--fail', '503');
  assert.equal((await failing.fetch('GET', '/v1/berths', signedIn)).status, 503);
  const dropping = await rehearsed(cwd, '--drop', '100%');
  await assert.rejects(dropping.fetch('GET', '/v1/berths', signedIn));
});

const keyed = JSON.stringify({
  openapi: '3.1.0',
  info: { title: 'Desk', version: '1' },
  components: {
    securitySchemes: {
      desk: { type: 'apiKey', in: 'query', name: 'desk' },
      office: { type: 'http', scheme: 'bearer' },
    },
  },
  paths: {
    '/lamps': { get: { operationId: 'lamps', security: [{ desk: [] }], responses: { 200: { description: 'all' } } } },
    '/lights': {
      get: { operationId: 'lights', security: [{ office: [] }], responses: { 200: { description: 'all' } } },
    },
  },
});

test('credentials of a request are in nothing that a rehearsal says', async () => {
  const cwd = collectionOf({ 'desk.json': keyed });
  assert.equal((await echoTrail(['docs', 'add', 'desk.json', '--name', 'desk'], { cwd })).status, 0);
  const { fetch: ask, said } = await rehearsed(cwd);
  const secrets = ['kipper-crate-7720', 'winch-grease-77', 'tidewater-42-tidewater', 'lamp-oil-900-litres'];
  const [key, bare, other, field] = secrets;
  assert.equal((await ask('GET', `/lamps?desk=${key}&more=x`)).status, 400);
  for (const authorization of [String(bare), `Office ${other}`])
    assert.equal((await ask('GET', '/lights', { headers: { authorization } })).status, 401);
  assert.equal((await ask('GET', `/lights?password=${field}`, { headers: { authorization: 'Bearer a' } })).status, 400);
  while (said.length < 4) await new Promise((resolve) => setTimeout(resolve, 20));
  for (const secret of secrets) assert.ok(!JSON.stringify(said).includes(secret), secret);
  assert.match(JSON.stringify(said), /has no scheme, documented is bearer[\s\S]*is Office, documented is bearer/);
});

test('a page of a browser whose host leads here reads nothing', async () => {
  const { port } = new URL(harbour.origin);
  const { status } = await new Promise<{ status: number | undefined }>((resolve, reject) => {
    get(
      {
        port,
        host: '127.0.0.1',
        path: '/v1/berths',
        headers: { host: 'quay.larkhaven.example', authorization: 'Bearer a' },
      },
      (response) => {
        response.resume();
        resolve({ status: response.statusCode });
      },
    ).on('error', reject);
  });
  assert.equal(status, 421);
});

for (const [args, expected] of [
  [['nowhere'], /there is no documentation source nowhere/],
  [['--from', 'memory'], /--from takes documentation, echoes or both, not memory/],
  [['--slow', '3'], /--slow takes a duration with its unit/],
  [['--port', 'x'], /--port/],
] as const)
  test(`rehearse ${args.join(' ')} is refused`, async () => {
    const ended = await echoTrail(['rehearse', ...args], { cwd: demoCollection('http://127.0.0.1:9') });
    assert.equal(ended.status, 2);
    assert.match(ended.err, expected);
  });

test('without documentation there is nothing to rehearse', async () => {
  const ended = await echoTrail(['rehearse'], { cwd: collectionOf({}) });
  assert.equal(ended.status, 2);
  assert.match(ended.err, /no documentation that could be rehearsed/);
});
