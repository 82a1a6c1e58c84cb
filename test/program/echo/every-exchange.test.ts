/** Whatever is exchanged is an echo of its own, and what changes something is recorded before it leaves. */
import assert from 'node:assert/strict';
import { createServer } from 'node:http';
import { after, test } from 'node:test';
import { collectionOf } from '../../support/folder.js';
import { document, echoTrail } from '../../support/program.js';

const wire: string[] = [];
let good = '';
let onCall: ((call: string) => void) | undefined;
const server = createServer((request, response) => {
  const { method = '', url = '' } = request;
  const call = `${method} ${url}`;
  wire.push(call);
  onCall?.(call);
  const say = (status: number, headers: Record<string, string> = {}, body = '{"ok": true}'): void =>
    void response.writeHead(status, { 'content-type': 'application/json', ...headers }).end(body);
  request.resume().on('end', () => {
    if (url === '/hop3') say(200);
    else if (url.startsWith('/hop')) say(307, { location: `/hop${Number(url.slice(4)) + 1}` }, '');
    else if (url === '/seen') say(303, { location: '/hop3' }, '');
    else if (url === '/login') {
      good = `token-number-${wire.length}`;
      say(201, {}, JSON.stringify({ token: good }));
    } else if (url === '/guarded') say(request.headers.authorization === `Bearer ${good}` ? 200 : 401);
    else if (url === '/challenged') {
      const proved = request.headers.authorization?.startsWith('Digest ');
      say(
        proved ? 200 : 401,
        proved ? {} : { 'www-authenticate': 'Digest realm="quay", nonce="n1", qop="auth", algorithm=SHA-256' },
      );
    } else if (url === '/silent') return;
    else say(200, {}, '{"code": "a-b", "more": {"x": 1}}');
  });
});
await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
const origin = `http://127.0.0.1:${(server.address() as { port: number }).port}`;
after(() => {
  server.closeAllConnections();
  server.close();
});

const env = { ECHO_TRAIL_SECRET_PIN: 'sounding-lead-99' };
const files = {
  'requests/around.yaml': 'method: POST\nurl: ${origin}/hop0\nredirects: 5\nbody: {json: {a: 1}}\n',
  'requests/seen.yaml': 'method: POST\nurl: ${origin}/seen\nredirects: 5\nbody: {json: {a: 1}}\n',
  'requests/login.yaml': 'method: POST\nchanges: false\nurl: ${origin}/login\nbody: {json: {pin: "${secret.pin}"}}\n',
  'requests/guarded.yaml': 'url: ${origin}/guarded\nsession: s\n',
  'requests/challenged.yaml': 'url: ${origin}/challenged\nsession: d\n',
  'requests/silent.yaml': 'method: POST\nurl: ${origin}/silent\nbody: {json: {a: 1}}\n',
  'sessions/s.yaml': 'kind: login\nopen: {send: login}\ntoken: $.token\n',
  'sessions/d.yaml': 'kind: digest\nuser: agent\npassword: ${secret.pin}\n',
};

interface Listed {
  readonly id: string;
  readonly method: string;
  readonly url: string;
  readonly status: number | null;
  readonly ok: boolean;
}
const echoesOf = async (cwd: string): Promise<readonly Listed[]> =>
  document<{ echoes: Listed[] }>(
    await echoTrail(['echo', 'list', '--limit', '100', '--json'], { cwd }),
  ).echoes.toReversed();

test('redirects, renewals and challenges: as many echoes as exchanges, each as it was', async () => {
  const cwd = collectionOf(files, origin);
  wire.length = 0;
  for (const request of ['around', 'seen', 'guarded', 'challenged']) {
    const sent = await echoTrail(['send', request], { cwd, env });
    assert.equal(sent.status, 0, sent.err);
  }
  // The token has ended at the vendor's, and nobody has said so.
  good = 'another';
  assert.equal((await echoTrail(['send', 'guarded'], { cwd, env })).status, 0);
  const echoes = await echoesOf(cwd);
  assert.deepEqual(
    echoes.map(({ method, url }) => `${method} ${new URL(url).pathname}`),
    wire,
  );
  assert.deepEqual(
    echoes.map(({ status }) => status),
    [307, 307, 307, 200, 303, 200, 201, 200, 401, 200, 401, 201, 200],
  );
  assert.ok(
    echoes.every(({ ok }) => ok),
    'what led on is no failure',
  );
  const shown = await echoTrail(['echo', 'show', echoes[3]?.id ?? ''], { cwd });
  assert.match(shown.out, /redirects\n {2}307 from POST .*\/hop0/);
});

test('a changing call that a kill cut off is in doubt, and says so', async () => {
  const cwd = collectionOf(files, origin);
  await echoTrail(['send', 'silent'], {
    cwd,
    meanwhile: (child) => {
      onCall = (call) => {
        if (call === 'POST /silent') child.kill('SIGKILL');
      };
    },
  });
  onCall = undefined;
  const [only, ...others] = await echoesOf(cwd);
  assert.deepEqual([others.length, only?.method, only?.status, only?.ok], [0, 'POST', null, false]);
  assert.match((await echoTrail(['echo', 'list'], { cwd })).out, /in doubt +none/);
  assert.match((await echoTrail(['echo', 'show'], { cwd })).out, /in doubt {2}it was sent, and the program ended/);
});

const description = (schema: object): string =>
  JSON.stringify({
    openapi: '3.1.0',
    info: { title: 'Berths', version: '1' },
    paths: {
      '/berths': {
        post: {
          operationId: 'berths',
          responses: { 200: { description: 'ok', content: { 'application/json': { schema } } } },
        },
      },
    },
    components: { schemas: { More: { type: 'object', properties: { x: { type: 'number' } } } } },
  });
const documented = (schema: object): Record<string, string> => ({
  'echo-trail.yaml': 'name: test\nenvironment: sandbox\ndocs: {a: {file: docs/a.json}}\n',
  'docs/a.json': description(schema),
  'requests/book.yaml':
    'operation: a/berths\nmethod: POST\nurl: ${origin}/berths\nbody: {json: {}}\nexpect: {$: {schema: documented}}\n',
});

test('documented schemas as vendors write them are held against the response', async () => {
  const more = { type: 'object', unevaluatedProperties: { $ref: '#/components/schemas/More' } };
  const cwd = collectionOf(
    documented({ ...more, $id: 'urn:own', properties: { code: { type: 'string', pattern: '^[a-z\\-]+$' } } }),
    origin,
  );
  const sent = await echoTrail(['send', 'book'], { cwd });
  assert.equal(sent.status, 0, sent.err);
  assert.match(sent.err, /met +1 expectation/);
  const wrong = collectionOf(
    documented({ ...more, properties: { code: { type: 'string', pattern: '^[0-9]+$' } } }),
    origin,
  );
  assert.match((await echoTrail(['send', 'book'], { cwd: wrong })).err, /must match pattern/);
});

test('a schema that cannot be used is told before anything is sent', async () => {
  wire.length = 0;
  const unusable = [
    documented({ type: 'no-such-type' }),
    {
      'requests/book.yaml':
        'method: POST\nurl: ${origin}/berths\nbody: {json: {}}\nexpect: {$: {schema: {type: no-such-type}}}\n',
    },
  ];
  for (const own of unusable) {
    const sent = await echoTrail(['send', 'book'], { cwd: collectionOf(own, origin) });
    assert.equal(sent.status, 2, sent.err);
    assert.match(sent.err, /not a usable JSON Schema\nat +requests\/book\.yaml:/);
  }
  assert.deepEqual(wire, []);
});
