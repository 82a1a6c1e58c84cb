/** The kinds of sessions against the stand-in's vault. */
import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { collectionOf } from '../../support/folder.js';
import { type Ended, echoTrail } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';
import { harbourForThisFile } from '../../support/standin.js';

const { origin, credentials } = await harbourForThisFile();
const env = { ECHO_TRAIL_SECRET_DESK: credentials.password, ECHO_TRAIL_SECRET_VAULT: 'gull-rock-lantern-77' };

const sessions = {
  'sessions/basic.yaml': 'kind: basic\nuser: agent\npassword: ${secret.desk}\n',
  'sessions/digest.yaml': 'kind: digest\nuser: agent\npassword: ${secret.desk}\n',
  'sessions/header.yaml': 'kind: api-key\nkey: ${secret.vault}\nheader: X-Vault-Key\n',
  'sessions/query.yaml': 'kind: api-key\nkey: ${secret.vault}\nquery: key\n',
  'sessions/cookie.yaml': 'kind: api-key\nkey: ${secret.vault}\ncookie: key\n',
};

function collection(files: Readonly<Record<string, string>> = {}): (...args: string[]) => Promise<Ended> {
  const cwd = collectionOf({ ...sessions, ...files }, origin);
  return (...args) => echoTrail(args, { cwd, env });
}

for (const [session, path] of [
  ['basic', '/vault/basic'],
  ['digest', '/vault/digest'],
  ['digest', '/vault/digest?layer=depths&unit=m'],
  ['header', '/vault/key'],
  ['query', '/vault/key'],
  ['cookie', '/vault/key'],
] as const) {
  test(`${session} opens ${path}, and nothing of it is shown or recorded`, async () => {
    const run = collection();
    const sent = await run('send', 'GET', path, '--session', session);
    assert.equal(sent.status, 0, sent.err);
    assert.match(sent.out, /Approaches to Larkhaven/);
    const shown = await run('echo', 'show');
    for (const { out, err } of [sent, shown])
      assert.doesNotMatch(out + err, /tidewater|gull-rock|YWdlbnQ6/, 'no password, no key, no user with password');
    assert.equal((await run('send', 'GET', path, '--session', 'none')).status, 1);
  });
}

test('a key in the query of an address that leads on stands in no record', async () => {
  const server = await rawServer((head) =>
    head.startsWith('GET /old')
      ? responseOf('', { status: '302 Found', headers: ['location: /new'] })
      : responseOf('{}'),
  );
  const cwd = collectionOf(sessions, server.origin);
  const { status, err } = await echoTrail(['send', 'GET', '/old', '--session', 'query'], { cwd, env });
  assert.equal(status, 0, err);
  assert.match(server.received.join(''), /GET \/old\?key=gull-rock/);
  const folder = join(cwd, '.echo-trail/echoes');
  const files = readdirSync(folder, { recursive: true, encoding: 'utf8' }).filter((name) => name.endsWith('.jsonl'));
  const recorded = files.map((name) => readFileSync(join(folder, name), 'utf8')).join('');
  assert.match(recorded, /"status":302/);
  assert.doesNotMatch(recorded + err, /gull-rock/);
  await server.close();
});

test('digest counts on with one nonce, and takes the next where that ended', async () => {
  const run = collection({
    'requests/chart.yaml': 'url: ${origin}/vault/digest\nsession: digest\nexpect: {status: 200}\n',
    'trails/five.yaml': `steps:\n${'  - send: chart\n'.repeat(5)}`,
  });
  const { status, out } = await run('run', 'five');
  assert.equal(status, 0, out);
});

for (const [file, wrong] of [
  ['kind: basic\nuser: "a:b"\npassword: x\n', /the user holds a colon/],
  ['kind: basic\nuser: a\npassword: "x\\ny"\n', /the password holds a line break/],
  ['kind: basic\nuser: a\npassword: "\'x\'"\n', /begins and ends with quotes/],
  ['kind: api-key\nkey: x\n', /exactly one of header, query and cookie/],
  ['kind: api-key\nkey: ""\nheader: X-Key\n', /the key of the session wrong cannot be sent: it is empty/],
  ['kind: api-key\nkey: "Bearer x"\nheader: X-Key\n', /begins with the word Bearer/],
  ['kind: digest\nuser: agent\n', /password is missing/],
  [
    'kind: basik\nuser: a\n',
    /kind cannot be the text basik[\s\S]*did you mean basic\? allowed: bearer, login, basic, digest, api-key/,
  ],
  ['user: a\n', /kind is missing[\s\S]*allowed: bearer/],
] as const) {
  test(`a session that cannot be sent is explained: ${wrong.source}`, async () => {
    const run = collection({ 'sessions/wrong.yaml': file });
    const { status, err } = await run('send', 'GET', '/vault/key', '--session', 'wrong');
    assert.ok(status === 4 || status === 2, String(status));
    assert.match(err, wrong);
  });
}

test('a wrong password is refused once, and not retried and again', async () => {
  const run = collection({ 'sessions/wrong.yaml': 'kind: digest\nuser: agent\npassword: guess\n' });
  const { status, out } = await run('send', 'GET', '/vault/digest', '--session', 'wrong');
  assert.equal(status, 1);
  assert.match(out, /the proof is wrong/);
});
