/** How sessions live: who closes them, what is renewed, whose they are where rows differ, and what they may do. */
import assert from 'node:assert/strict';
import { once } from 'node:events';
import { createServer, type IncomingMessage } from 'node:http';
import type { AddressInfo } from 'node:net';
import { after, test } from 'node:test';
import { collectionOf, writeIn } from '../../support/folder.js';
import { documentLines, echoTrail } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';

const env = { ECHO_TRAIL_SECRET_KEY: '3f1b-77aa.c_d~e', ECHO_TRAIL_SECRET_FRESH: 'refresh-of-the-person' };

interface Heard {
  readonly path: string;
  readonly form: URLSearchParams;
  readonly authorization: string | undefined;
}

/** A token endpoint that rotates refresh tokens, and takes each of them once. */
async function tokens(more: (heard: Heard, count: number) => Record<string, unknown> | undefined = () => undefined) {
  const heard: Heard[] = [];
  let good = 'refresh-of-the-person';
  const text = async (request: IncomingMessage): Promise<string> => {
    let all = '';
    for await (const chunk of request) all += String(chunk);
    return all;
  };
  const server = createServer((request, response) => {
    void text(request).then((body) => {
      const one = {
        path: request.url ?? '',
        form: new URLSearchParams(body),
        authorization: request.headers.authorization,
      };
      heard.push(one);
      const reply = (status: number, content: object): void => {
        response.writeHead(status, { 'content-type': 'application/json' }).end(JSON.stringify(content));
      };
      if (one.path === '/revoke') reply(200, {});
      else if (one.path !== '/token') reply(one.authorization === undefined ? 401 : 200, { ok: true });
      else {
        const given = one.form.get('refresh_token');
        if (given !== null && given !== good) return reply(400, { error: 'invalid_grant' });
        good = `refresh-token-${heard.length}`;
        const extra = more(one, heard.length);
        reply(extra?.error === undefined ? 200 : 401, {
          ...(extra?.error === undefined && {
            access_token: `access-token-${heard.length}`,
            token_type: 'Bearer',
            expires_in: 1,
            refresh_token: good,
            scope: 'read',
          }),
          ...extra,
        });
      }
    });
  });
  server.listen(0, '127.0.0.1');
  await once(server, 'listening');
  after(() => {
    server.closeAllConnections();
    server.close();
  });
  const origin = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  return { origin, heard, at: (path: string) => heard.filter((one) => one.path === path) };
}

const oauthFiles = (origin: string, more: string): Record<string, string> => ({
  'sessions/s.yaml': `kind: oauth2\nendpoints: {token: "${origin}/token", revocation: "${origin}/revoke"}\nclient: {id: a-b.c_d~e, secret: "\${secret.key}"}\nscope: read write\n${more}`,
  'requests/a.yaml': 'url: ${origin}/a\nsession: s\n',
  'trails/t.yaml': 'steps: [{send: a}]\n',
});

test('a run that renews a session which a person opened leaves it open; what it opened itself it closes', async () => {
  const { origin, at } = await tokens();
  const cwd = collectionOf(oauthFiles(origin, 'grant: client_credentials\n'), origin);
  await echoTrail(['session', 'open', 's'], { cwd, env });
  const run = await echoTrail(['run', 't', '--json'], { cwd, env });
  assert.equal(run.status, 0, run.err);
  const [opened, renewed] = at('/token');
  assert.deepEqual(
    [opened?.form.get('grant_type'), renewed?.form.get('grant_type')],
    ['client_credentials', 'refresh_token'],
  );
  assert.equal(at('/revoke').length, 0, 'nothing is revoked');
  const events = (ended: typeof run): unknown[] => documentLines(ended).map(({ event }) => event);
  assert.ok(!events(run).includes('session-closed') && !events(run).includes('session-opened'), run.out);
  await echoTrail(['session', 'close', 's'], { cwd, env });
  const before = at('/revoke').length;
  const own = await echoTrail(['run', 't', '--json'], { cwd, env });
  assert.ok(events(own).includes('session-closed'), own.out);
  assert.ok(at('/revoke').length > before);
});

test('a refresh token that the person has is not revoked at the end of a run', async () => {
  const { origin, at } = await tokens();
  const cwd = collectionOf(oauthFiles(origin, 'grant: refresh_token\nrefresh-token: "${secret.fresh}"\n'), origin);
  for (let round = 0; round < 3; round += 1) assert.equal((await echoTrail(['run', 't'], { cwd, env })).status, 0);
  assert.equal(at('/revoke').length, 0);
  assert.deepEqual(
    at('/token').map(({ form }) => form.get('refresh_token')),
    ['refresh-of-the-person', 'refresh-token-1', 'refresh-token-3'],
  );
});

test('a renewal asks for no scope, and id and secret stay as they are in Basic', async () => {
  const { origin, at } = await tokens();
  const cwd = collectionOf(oauthFiles(origin, 'grant: client_credentials\n'), origin);
  await echoTrail(['send', 'a'], { cwd, env });
  await echoTrail(['send', 'a'], { cwd, env });
  const [first, second] = at('/token');
  assert.equal(first?.form.get('scope'), 'read write');
  assert.equal(second?.form.get('scope'), null);
  const basic = Buffer.from(first?.authorization?.replace('Basic ', '') ?? '', 'base64').toString();
  assert.equal(basic, `a-b.c_d~e:${env.ECHO_TRAIL_SECRET_KEY}`);
});

test('a rotated refresh token is kept although the rest of its response is wrong', async () => {
  const { origin, at } = await tokens((_, count) => (count === 3 ? { id_token: 'not-a-token' } : undefined));
  const cwd = collectionOf(oauthFiles(origin, 'grant: client_credentials\n'), origin);
  await echoTrail(['send', 'a'], { cwd, env });
  const failed = await echoTrail(['send', 'a'], { cwd, env });
  assert.notEqual(failed.status, 0, failed.err);
  const again = await echoTrail(['send', 'a'], { cwd, env });
  assert.equal(again.status, 0, again.err);
  assert.deepEqual(
    at('/token').map(({ form }) => form.get('refresh_token')),
    [null, 'refresh-token-1', 'refresh-token-3'],
  );
});

test('several commands at once never send the same refresh token', async () => {
  const { origin, at } = await tokens();
  const cwd = collectionOf(oauthFiles(origin, 'grant: client_credentials\n'), origin);
  await echoTrail(['send', 'a'], { cwd, env });
  await Promise.all(Array.from({ length: 4 }, () => echoTrail(['send', 'a'], { cwd, env })));
  const sent = at('/token').flatMap(({ form }) => form.get('refresh_token') ?? []);
  assert.equal(new Set(sent).size, sent.length, sent.join(' '));
});

test('a client that is not accepted is told the ways that the server takes', async () => {
  const metadata = (origin: string): string =>
    JSON.stringify({
      issuer: origin,
      token_endpoint: `${origin}/token`,
      token_endpoint_auth_methods_supported: ['client_secret_post', 'private_key_jwt'],
    });
  const server = await rawServer((head) =>
    head.includes('/.well-known/')
      ? responseOf(metadata(server.origin))
      : responseOf('{"error": "invalid_client"}', { status: '400 Bad Request' }),
  );
  const cwd = collectionOf(
    {
      'sessions/s.yaml': `kind: oauth2\ngrant: client_credentials\nissuer: ${server.origin}\nclient: {id: a, secret: "\${secret.key}"}\n`,
      'requests/a.yaml': 'url: ${origin}/a\nsession: s\n',
    },
    server.origin,
  );
  const { err } = await echoTrail(['send', 'a'], { cwd, env });
  assert.match(err, /the server takes client_secret_post, private_key_jwt, and client_secret_basic was sent/);
  await server.close();
});

test('a key of a client that cannot be used is told by what it is', async () => {
  const { generateKeyPairSync } = await import('node:crypto');
  const keyOf = (type: 'ed25519'): string =>
    generateKeyPairSync(type).privateKey.export({ type: 'pkcs8', format: 'pem' }).toString();
  const cwd = collectionOf({
    'sessions/s.yaml':
      'kind: oauth2\ngrant: client_credentials\nendpoints: {token: "${origin}/t"}\nclient: {id: a, key: "${secret.pem}"}\n',
  });
  for (const [pem, says] of [
    ['nothing of the kind', /the key is not a private key in PEM/],
    [keyOf('ed25519'), /the key is of the kind ed25519, which RS256 does not sign with/],
  ] as const) {
    const { status, err } = await echoTrail(['session', 'open', 's'], { cwd, env: { ECHO_TRAIL_SECRET_PEM: pem } });
    assert.equal(status, 4);
    assert.match(err, says);
    assert.doesNotMatch(err, /DECODER|routines|OpenSSL/i);
  }
});

test('the request that opens a session is sent with the session of its own file; a circle is told', async () => {
  const server = await rawServer(() => responseOf('{"token": "a-token-for-the-desk"}'));
  const files = {
    'requests/in.yaml': 'method: POST\nurl: ${origin}/in\nsession: key\n',
    'requests/a.yaml': 'url: ${origin}/a\nsession: desk\n',
    'sessions/desk.yaml': 'kind: login\nopen: {send: in}\ntoken: $.token\n',
    'sessions/key.yaml': 'kind: api-key\nheader: X-Key\nkey: ${secret.key}\n',
  };
  const cwd = collectionOf(files, server.origin);
  assert.equal((await echoTrail(['send', 'a'], { cwd, env })).status, 0);
  assert.match(server.received.join(''), /POST \/in[\s\S]*x-key: 3f1b-77aa/i);
  writeIn(cwd, 'sessions/key.yaml', 'kind: login\nopen: {send: other}\ntoken: $.token\n');
  writeIn(cwd, 'requests/other.yaml', 'method: POST\nurl: ${origin}/other\nsession: desk\n');
  await echoTrail(['session', 'close', 'desk'], { cwd, env });
  const circle = await echoTrail(['send', 'a'], { cwd, env });
  assert.equal(circle.status, 2);
  assert.match(circle.err, /opened with a session that is itself opened with/);
  await server.close();
});

for (const changes of ['refuse', 'ask']) {
  test(`where changes are ${changes === 'ask' ? 'asked about' : 'refused'}, a log-in and a log-out are none`, async () => {
    const server = await rawServer(() => responseOf('{"token": "a-token-for-the-desk"}'));
    const cwd = collectionOf({
      'environments/sandbox.yaml': `changes: ${changes}\nvariables: {origin: "${server.origin}"}\n`,
      'requests/in.yaml': 'method: POST\nurl: ${origin}/in\n',
      'requests/out.yaml': 'method: DELETE\nurl: ${origin}/out\n',
      'requests/a.yaml': 'url: ${origin}/a\nsession: desk\n',
      'requests/change.yaml': 'method: POST\nurl: ${origin}/change\nsession: desk\n',
      'sessions/desk.yaml': 'kind: login\nopen: {send: in}\nclose: {send: out}\ntoken: $.token\n',
      'trails/t.yaml': 'steps: [{send: a}]\n',
    });
    const { status, err } = await echoTrail(['run', 't'], { cwd });
    assert.equal(status, 0, err);
    assert.deepEqual(server.received.join('').match(/^(?:POST|GET|DELETE) \S+/gm), [
      'POST /in',
      'GET /a',
      'DELETE /out',
    ]);
    assert.equal((await echoTrail(['send', 'change'], { cwd })).status, 4);
    await server.close();
  });
}

test('where rows say the origin, each has a session of its own, opened once, and all are closed', async () => {
  const servers = await Promise.all(
    [1, 2].map((number) => rawServer((head) => responseOf(`{"token": "token-of-desk-${number}-${head.length}"}`))),
  );
  const [first, second] = servers.map(({ origin, port }) => ({ origin, port }));
  const cwd = collectionOf({
    'environments/sandbox.yaml':
      'changes: allow\nvariables: {origin: "http://127.0.0.1:${port}"}\nhosts: {from: data/desks.csv, column: host}\n',
    'data/desks.csv': `port,host,user\n${first?.port},127.0.0.1:${first?.port},ada\n${second?.port},127.0.0.1:${second?.port},ada\n${first?.port},127.0.0.1:${first?.port},ada\n${first?.port},127.0.0.1:${first?.port},bob\n`,
    'requests/in.yaml':
      'method: POST\ninputs: {user: {}, word: {}}\nurl: ${origin}/in\nbody: {json: {user: "${user}", word: "${word}"}}\n',
    'requests/out.yaml': 'method: DELETE\nurl: ${origin}/out\n',
    'requests/a.yaml': 'url: ${origin}/a\nsession: desk\n',
    'sessions/desk.yaml':
      'kind: login\nopen: {send: in, give: {user: "${user}", word: "${secret.password[user]}"}}\nclose: {send: out}\ntoken: $.token\n',
    'trails/t.yaml': 'rows: data/desks.csv\nsteps: [{send: a}, {send: a}]\n',
  });
  const own = { ECHO_TRAIL_SECRET_PASSWORD_ADA: 'word-of-ada', ECHO_TRAIL_SECRET_PASSWORD_BOB: 'word-of-bob' };
  const { status, err, out } = await echoTrail(['run', 't'], { cwd, env: own });
  assert.equal(status, 0, err + out);
  const calls = servers.map(({ received }) => received.join('').match(/(?:POST|GET|DELETE) \/\S+/g) ?? []);
  const counted = calls.map((list) =>
    ['POST /in', 'GET /a', 'DELETE /out'].map((call) => list.filter((one) => one === call).length),
  );
  assert.deepEqual(counted, [
    [2, 6, 2],
    [1, 2, 1],
  ]);
  assert.match(servers[0]?.received.join('') ?? '', /"user":"bob","word":"word-of-bob"/);
  for (const head of servers[1]?.received.join('').match(/authorization: .*/gi) ?? []) assert.match(head, /desk-2/);
  await Promise.all(servers.map((one) => one.close()));
});

test('what a session supplies is the same throughout one request', async () => {
  const server = await rawServer(() => responseOf('{}'));
  const cwd = collectionOf(
    {
      'sessions/s.yaml': 'kind: credentials\nsupply: {stamp: "${nonce}", again: "${nonce}"}\n',
      'requests/a.yaml':
        'method: POST\nurl: ${origin}/a\nsession: s\nheaders: {X-Stamp: "${stamp}", X-Nonce: "${nonce}"}\nbody: {json: {stamp: "${stamp}", again: "${again}"}}\n',
    },
    server.origin,
  );
  await echoTrail(['send', 'a'], { cwd });
  const text = server.received.join('');
  const found = [/x-stamp: (\w+)/i, /x-nonce: (\w+)/i, /"stamp":"(\w+)"/, /"again":"(\w+)"/].map(
    (one) => one.exec(text)?.[1],
  );
  assert.equal(new Set(found).size, 1, found.join(' '));
  await server.close();
});

test('Digest with an algorithm that is not known says so, and does not blame the secret', async () => {
  const server = await rawServer(() =>
    responseOf('{}', {
      status: '401 Unauthorized',
      headers: ['www-authenticate: Digest realm="quay", nonce="n", qop="auth", algorithm=SHA-3-999'],
    }),
  );
  const cwd = collectionOf(
    {
      'sessions/s.yaml': 'kind: digest\nuser: ada\npassword: ${secret.key}\n',
      'requests/a.yaml': 'url: ${origin}/a\nsession: s\n',
    },
    server.origin,
  );
  const { err } = await echoTrail(['send', 'a'], { cwd, env });
  assert.match(err, /Digest with the algorithm SHA-3-999, which is not supported/);
  assert.doesNotMatch(err, /is the secret right/);
  await server.close();
});

test('a header with letters outside ASCII leaves in the octets that are signed', async () => {
  const server = await rawServer(() => responseOf('{}'));
  const cwd = collectionOf(
    {
      'requests/a.yaml': 'url: ${origin}/a\nheaders: {X-Name: "Käthe"}\nsignature: seal\n',
      'signatures/seal.yaml':
        'define: {seal: "${sent.headers | only(\\"x-name\\") | header-lines | hmac-sha-256(secret.key) | hex}"}\nheaders: {X-Seal: "${seal}"}\n',
    },
    server.origin,
  );
  await echoTrail(['send', 'a'], { cwd, env });
  const octets = /x-name: ([^\r]*)/i.exec(server.received.join(''))?.[1] ?? '';
  assert.equal(Buffer.from(octets, 'latin1').toString('utf8'), 'Käthe');
  await server.close();
});
