/** Not let in: what was sent, what the server says, and what to try; and changes that nobody may make. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { passSecret } from '../../../src/standin/passes/clients.js';
import { collectionOf } from '../../support/folder.js';
import { document, echoTrail } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';
import { harbourForThisFile } from '../../support/standin.js';

const { origin } = await harbourForThisFile();
const env = { ECHO_TRAIL_SECRET_PASS: passSecret, ECHO_TRAIL_SECRET_WORD: 'a-word-of-the-desk' };
const oauth = (more: string): string =>
  `kind: oauth2\ngrant: client_credentials\nissuer: \${origin}/passes\nclient: {id: harbour desk, secret: "\${secret.pass}"}\n${more}`;
const sessions = {
  'sessions/bearer.yaml': 'kind: bearer\ntoken: ${secret.word}\n',
  'sessions/basic.yaml': 'kind: basic\nuser: agent\npassword: ${secret.word}\n',
  'sessions/key.yaml': 'kind: api-key\nkey: ${secret.word}\nquery: key\n',
  'sessions/pilots.yaml': oauth('scope: pilots\n'),
};

const refusals: readonly (readonly [session: string, path: string, says: readonly RegExp[]])[] = [
  ['none', '/passes/quay', [/refused not authenticated/, /no credentials were sent; use --session NAME/]],
  [
    'bearer',
    '/passes/quay',
    [
      /sent {4}session bearer \(bearer\): Authorization, made from secret word/,
      /said {4}Bearer realm="quay", error="invalid_token"/,
      /try +is the secret right and still good\? echo-trail secret set word/,
    ],
  ],
  ['basic', '/passes/quay', [/the server accepts bearer, and the session uses basic/]],
  [
    'pilots',
    '/passes/quay',
    [/refused authenticated, but not permitted/, /insufficient_scope/, /the token lacks a scope/],
  ],
  [
    'key',
    '/vault/key',
    [/session key \(api-key\): the parameter key, made from secret word/, /ask the vendor what is missing/],
  ],
  ['basic', '/vault/basic', [/Basic realm="chart vault"/, /is the secret right/]],
];
for (const [session, path, says] of refusals) {
  test(`${path} with the session ${session} is refused with what was sent, what was said, and what to try`, async () => {
    const cwd = collectionOf(sessions, origin);
    const { status, err, out } = await echoTrail(['send', 'GET', path, '--session', session], { cwd, env });
    assert.equal(status, 1, err);
    for (const one of says) assert.match(err, one);
    assert.doesNotMatch(err + out, /of-the-desk|ebb/);
  });
}

test('a refusal is in the document, too, and an expected one is no trouble', async () => {
  const cwd = collectionOf(
    { ...sessions, 'requests/shut.yaml': 'url: ${origin}/passes/quay\nexpect: {status: 401}\n' },
    origin,
  );
  const { accessDenied: refusal } = document<{ accessDenied: { kind: string; sent: string[]; remedies: string[] } }>(
    await echoTrail(['send', 'GET', '/passes/quay', '--session', 'bearer', '--json'], { cwd, env }),
  );
  assert.equal(refusal.kind, 'refused');
  assert.deepEqual(refusal.sent, ['session bearer (bearer): Authorization, made from secret word']);
  const shut = await echoTrail(['send', 'shut'], { cwd, env });
  assert.equal(shut.status, 0);
  assert.doesNotMatch(shut.err, /refused/);
});

for (const [shift, says] of [
  [5 * 60_000, /clock {3}the server's clock is 5 min ahead of this one/],
  [-90 * 60_000, /clock {3}the server's clock is 90 min behind this one/],
  [10_000, undefined],
] as const) {
  test(`a server's clock that is ${shift / 1000} s off ${says ? 'is told' : 'is near enough'}`, async () => {
    const server = await rawServer(() =>
      responseOf('{}', {
        status: '401 Unauthorized',
        headers: [`date: ${new Date(Date.now() + shift).toUTCString()}`],
      }),
    );
    const cwd = collectionOf(sessions, server.origin);
    const { err } = await echoTrail(['send', 'GET', '/', '--session', 'bearer'], { cwd, env });
    if (says) assert.match(err, says);
    else assert.doesNotMatch(err, /clock/);
    await server.close();
  });
}

const documented = JSON.stringify({
  openapi: '3.1.0',
  info: { title: 'Lights' },
  paths: { '/lights': { get: { operationId: 'look', responses: {} }, post: { operationId: 'put', responses: {} } } },
});
const changing = {
  'echo-trail.yaml': 'name: t\nenvironment: sandbox\ndocs: {lights: {file: docs/lights.json}}\n',
  'docs/lights.json': documented,
  'requests/read.yaml': 'method: POST\nurl: ${origin}/graphql\nbody: {graphql: {document: "{ __typename }"}}\n',
  'requests/write.yaml':
    'method: POST\nurl: ${origin}/graphql\nbody: {graphql: {document: "mutation { assignPilot { id } }"}}\n',
  'requests/several.yaml':
    'method: POST\nurl: ${origin}/graphql\nbody: {graphql: {document: bodies/several.graphql, operation: Look}}\n',
  'bodies/several.graphql': 'query Look { __typename }\nmutation Do { assignPilot { id } }\n',
  'requests/get.yaml': 'url: ${origin}/mirror\n',
  'requests/says.yaml': 'url: ${origin}/mirror\nchanges: true\n',
  'requests/harmless.yaml': 'method: POST\nurl: ${origin}/mirror\nchanges: false\n',
  'requests/documented.yaml': 'operation: lights/put\nmethod: POST\nurl: ${origin}/lights\n',
};
for (const [request, refused] of [
  ['read', false],
  ['write', true],
  ['several', false],
  ['get', false],
  ['says', true],
  ['harmless', false],
  ['documented', true],
] as const) {
  for (const mode of ['refuse', 'ask'] as const) {
    test(`changes: ${mode} ${refused ? 'keeps' : 'lets'} the request ${request} ${refused ? 'from leaving' : 'leave'}`, async () => {
      const cwd = collectionOf(
        {
          ...changing,
          'environments/sandbox.yaml': `changes: ${mode}\nvariables: {origin: "${origin}"}\nhosts: [127.0.0.1]\n`,
        },
        origin,
      );
      const ended = await echoTrail(['send', request], { cwd });
      if (!refused) return assert.notEqual(ended.status, 4, ended.err);
      assert.equal(ended.status, 4, ended.err);
      assert.match(ended.err, mode === 'refuse' ? /refuses calls that change something/ : /nobody confirmed it/);
      assert.equal((await echoTrail(['echo', 'list', '--json'], { cwd })).out.trim(), '{"version":1,"echoes":[]}');
      if (mode === 'ask') assert.notEqual((await echoTrail(['send', request, '--allow-changes'], { cwd })).status, 4);
    });
  }
}

test('--reveal shows on purpose what is hidden everywhere else', async () => {
  const cwd = collectionOf(
    {
      ...sessions,
      'requests/all.yaml':
        'method: POST\nurl: ${origin}/mirror\nquery: {a: "${secret.word}"}\nsession: basic\nbody: {json: {password: "${secret.word}"}}\n',
    },
    origin,
  );
  const basic = Buffer.from('agent:a-word-of-the-desk').toString('base64');
  const hidden = await echoTrail(['preview', 'all'], { cwd, env });
  assert.ok(!`${hidden.out}${hidden.err}`.includes('of-the-desk') && !hidden.out.includes(basic));
  const shown = await echoTrail(['preview', 'all', '--reveal'], { cwd, env });
  assert.match(shown.out, /\?a=a-word-of-the-desk[\s\S]*"password": ?"a-word-of-the-desk"/);
  assert.ok(shown.out.includes(`Basic ${basic}`));
  assert.match(shown.err, /warning {2}secrets are shown/);
  await echoTrail(['session', 'open', 'pilots'], { cwd, env });
  const token = await echoTrail(['session', 'show', 'pilots', '--reveal'], { cwd, env });
  assert.match(token.out, /^eyJ[\w-]+\.[\w-]+\.[\w-]+\n$/);
  const none = await echoTrail(['session', 'show', 'basic', '--reveal'], { cwd, env });
  assert.equal(none.status, 4);
});
