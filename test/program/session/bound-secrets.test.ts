/** A secret goes where its owner saw that it would go, and nowhere that a pulled change adds. */
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { collectionOf, temporaryFolder, writeIn } from '../../support/folder.js';
import { document, echoTrail } from '../../support/program.js';
import { conversation, noTerminal } from '../../support/pseudo-terminal.js';
import { rawServer, responseOf } from '../../support/raw-server.js';

const server = await rawServer(() => responseOf('{"token": "a-token-for-the-desk"}'));
test.after(() => server.close());

const environment = (more = '', hosts = '[127.0.0.1]'): string =>
  `changes: allow\nvariables: {origin: "${server.origin}"}\nhosts: ${hosts}\n${more}`;

async function withSecret(): Promise<string> {
  const cwd = collectionOf({
    'environments/sandbox.yaml': environment(),
    'requests/a.yaml': 'url: ${origin}/a\nheaders: {X-A: "${secret.key}"}\n',
    'requests/plain.yaml': 'url: ${origin}/plain\n',
    'certs/ca.pem': '-----BEGIN CERTIFICATE-----\nAA==\n-----END CERTIFICATE-----\n',
  });
  const set = await echoTrail(['secret', 'set', 'key'], { cwd, input: 'a-long-secret-word' });
  assert.match(set.err, new RegExp(`sandbox goes to 127\\.0\\.0\\.1:${server.port}`));
  return cwd;
}

test('secret set says where the secret will go', async () => {
  const cwd = await withSecret();
  const { secrets } = document<{ secrets: { name: string; ways: object[] }[] }>(
    await echoTrail(['secret', 'list', '--json'], { cwd }),
  );
  assert.deepEqual(secrets[0]?.ways, [
    { environment: 'sandbox', origins: [`127.0.0.1:${server.port}`], proxies: [], roots: [] },
  ]);
  assert.match((await echoTrail(['secret', 'list'], { cwd })).out, /key +all environments +sandbox goes to/);
});

for (const [what, file, says] of [
  ['a host', environment('', '[127.0.0.1, thief.example]'), /goes to thief\.example:\d+/],
  ['every port of its host', environment('', '[127.0.0.1, "127.0.0.1:*"]'), /goes to 127\.0\.0\.1:\*/],
  ['a proxy', environment('proxy: http://thief.example:3128\n'), /goes through http:\/\/thief\.example:3128/],
  ['a root', environment('tls: {trust: certs/ca.pem}\n'), /trusts certs\/ca\.pem SHA-256 /],
  ['a pinned certificate', environment(`tls: {pinned: "${'AB:'.repeat(31)}CD"}\n`), /trusts pinned SHA-256 AB:AB/],
  [
    'another origin',
    'changes: allow\nvariables: {origin: "http://thief.example"}\n',
    /goes to http:\/\/thief\.example/,
  ],
] as const) {
  test(`a pulled change that adds ${what} holds the secret back until it is allowed`, async () => {
    const cwd = await withSecret();
    assert.equal((await echoTrail(['send', 'a'], { cwd })).status, 0);
    const before = server.received.length;
    writeIn(cwd, 'environments/sandbox.yaml', file);
    for (const args of [
      ['send', 'a'],
      ['preview', 'a'],
    ]) {
      const { status, err } = await echoTrail(args, { cwd });
      assert.equal(status, 4, err);
      assert.match(err, /the secret key was not used: the environment sandbox has changed since it was set/);
      assert.match(err, says);
      assert.match(err, /echo-trail secret allow key --env sandbox/);
    }
    assert.equal(server.received.length, before, 'nothing left');
    const allowed = await echoTrail(['secret', 'allow', 'key', '--env', 'sandbox'], { cwd });
    assert.match(allowed.err, says);
    assert.equal((await echoTrail(['preview', 'a'], { cwd })).status, 0);
  });
}

test('a change that takes a way out holds nothing back, nor does one in another environment', async () => {
  const cwd = await withSecret();
  writeIn(cwd, 'environments/other.yaml', environment('', '[127.0.0.1, thief.example]'));
  assert.equal((await echoTrail(['send', 'a'], { cwd })).status, 0);
  const { status, err } = await echoTrail(['send', 'a', '--env', 'other'], { cwd });
  assert.equal(status, 4);
  assert.match(err, /it was not set for the environment other/);
  assert.equal((await echoTrail(['send', 'plain', '--env', 'other'], { cwd })).status, 0);
});

test('a session that was opened before the change is not used either', async () => {
  const cwd = await withSecret();
  writeIn(cwd, 'requests/in.yaml', 'method: POST\nurl: ${origin}/in\nbody: {json: {word: "${secret.key}"}}\n');
  writeIn(cwd, 'requests/b.yaml', 'url: ${origin}/b\nsession: s\n');
  writeIn(cwd, 'sessions/s.yaml', 'kind: login\nopen: {send: in}\ntoken: $.token\n');
  assert.equal((await echoTrail(['send', 'b'], { cwd })).status, 0);
  writeIn(cwd, 'environments/sandbox.yaml', environment('', '[127.0.0.1, thief.example]'));
  const before = server.received.length;
  assert.equal((await echoTrail(['send', 'b'], { cwd })).status, 4);
  assert.equal(server.received.length, before);
});

test('cookies that were taken before the change stay behind', async () => {
  const vendor = await rawServer(() => responseOf('{}', { headers: ['set-cookie: sid=cookie-of-the-desk'] }));
  const own = (more: string): string => `changes: allow\nvariables: {origin: "${vendor.origin}"}\nhosts: ${more}\n`;
  const cwd = collectionOf({
    'environments/sandbox.yaml': own('[127.0.0.1]'),
    'requests/a.yaml': 'url: ${origin}/a\n',
  });
  for (const hosts of ['[127.0.0.1]', '[127.0.0.1]', '[127.0.0.1, thief.example]']) {
    writeIn(cwd, 'environments/sandbox.yaml', own(hosts));
    await echoTrail(['send', 'a'], { cwd });
  }
  const sent = vendor.received.map((text) => /cookie: sid=cookie-of-the-desk/i.test(text));
  assert.deepEqual(sent, [false, true, false]);
  await vendor.close();
});

test('secrets of the process environment are bound by ECHO_TRAIL_SECRET_HOSTS where it is set', async () => {
  const cwd = collectionOf({
    'environments/sandbox.yaml': environment(),
    'environments/wide.yaml': environment('', '[127.0.0.1, thief.example]'),
    'environments/through.yaml': environment('proxy: http://thief.example:3128\n'),
    'requests/a.yaml': 'url: ${origin}/a\nheaders: {X-A: "${secret.key}"}\n',
  });
  const env = {
    ECHO_TRAIL_SECRET_KEY: 'a-long-secret-word',
    ECHO_TRAIL_SECRET_HOSTS: `127.0.0.1:${server.port}, b.example`,
  };
  assert.equal((await echoTrail(['send', 'a'], { cwd, env })).status, 0);
  for (const name of ['wide', 'through']) {
    const { status, err } = await echoTrail(['send', 'a', '--env', name], { cwd, env });
    assert.equal(status, 4);
    assert.match(err, /goes (?:to|through) \S*thief\.example[\s\S]*ECHO_TRAIL_SECRET_HOSTS/);
  }
});

test('a command of the user for secrets is bound by the hosts beside it', async () => {
  const cwd = collectionOf({
    'environments/sandbox.yaml': environment(),
    'requests/a.yaml': 'url: ${origin}/a\nheaders: {X-A: "${secret.key}"}\n',
  });
  const home = temporaryFolder();
  for (const [hosts, status] of [
    ['["127.0.0.1"]', 0],
    ['["127.0.0.1:1"]', 4],
  ] as const) {
    writeIn(
      home,
      'settings.yaml',
      `secrets:\n  - {collection: ${cwd}, hosts: ${hosts}, command: [echo, a-long-secret-word]}\n`,
    );
    assert.equal((await echoTrail(['send', 'a'], { cwd, env: { ECHO_TRAIL_HOME: home } })).status, status);
  }
});

test('of many secrets that are set at once each is stored', async () => {
  const cwd = collectionOf({ 'environments/sandbox.yaml': environment() });
  const names = Array.from({ length: 8 }, (_, index) => `word${index}`);
  const set = await Promise.all(
    names.map((name) => echoTrail(['secret', 'set', name], { cwd, input: `the-value-of-${name}` })),
  );
  for (const { status, err } of set) assert.equal(status, 0, err);
  const { secrets } = document<{ secrets: { name: string }[] }>(await echoTrail(['secret', 'list', '--json'], { cwd }));
  assert.deepEqual(
    secrets.map(({ name }) => name),
    names,
  );
});

test('a value that is too short to be hidden by value is warned of', async () => {
  const cwd = collectionOf({});
  const { err } = await echoTrail(['secret', 'set', 'pin'], { cwd, input: '4711' });
  assert.match(err, /fewer than 8 characters/);
});

test('at a terminal the question is asked, and its response is remembered', { skip: noTerminal }, async () => {
  const cwd = await withSecret();
  writeIn(cwd, 'environments/sandbox.yaml', environment('', '[127.0.0.1, thief.example]'));
  const no = await conversation(['send', 'a'], cwd, [['(y/N)', 'n\r']]);
  assert.equal(no.status, 4, no.screen);
  const yes = await conversation(['send', 'a'], cwd, [['now goes to thief.example', 'y\r']]);
  assert.equal(yes.status, 0, yes.screen);
  assert.equal((await echoTrail(['send', 'a'], { cwd })).status, 0);
  assert.doesNotMatch(readFileSync(join(cwd, '.echo-trail/secrets.sealed'), 'utf8'), /a-long-secret-word/);
});
