/** Secrets, sessions and environments: nothing leaks, nothing goes where it should not, nothing changes unasked. */
import assert from 'node:assert/strict';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { collectionOf, demoCollection, everyFile, writeIn } from '../../support/folder.js';
import { echoTrail, userFolder } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';
import { harbourForThisFile } from '../../support/standin.js';

const standin = await harbourForThisFile();
const password = standin.credentials.password;

async function readyCollection(): Promise<string> {
  const cwd = demoCollection(standin.origin);
  await echoTrail(['secret', 'set', 'deskPassword'], { cwd, input: password });
  return cwd;
}

test('no password and no token is in any output or any file, whatever is asked', async () => {
  const cwd = await readyCollection();
  const outputs: string[] = [];
  for (const args of [
    ['preview', 'calls/book'],
    ['send', 'desk/log-in', '--set', `password=${password}`],
    ['session', 'open', 'agent'],
    ['preview', 'calls/book', '--json'],
    ['send', 'vessels/show', '--view', 'headers'],
    ['send', 'vessels/show', '--json'],
    ['send', 'GET', '/v1/vessels', '--session', 'agent', '--debug'],
    ['session', 'show', 'agent', '--json'],
    ['session', 'list'],
    ['secret', 'list', '--json'],
    ['env', 'show'],
    ['echo', 'list'],
    ['echo', 'show', 'last'],
    ['run', 'berth-stay'],
    ['run', 'berth-stay', '--json'],
    ['echo', 'show', '--json'],
    ['check'],
    ['check', '--json'],
    ['list', '--json'],
    ['docs', 'list', '--json'],
    ['docs', 'find', 'book', '--json'],
    ['docs', 'show', 'harbour/bookCall', '--json'],
    ['docs', 'tree', '--debug'],
    ['docs', 'ask', '--json'],
    ['docs', 'refresh', 'harbour', '--json'],
    ['draft', 'harbour/showBerth', '--as', 'drafted', '--json'],
    ['env', 'list', '--json'],
    ['env', 'show', '--json'],
    ['env', 'make', 'quay', '--origin', 'http://127.0.0.1:9'],
    ['secret', 'allow', 'deskPassword', '--json'],
    ['compare', 'vessels/show', 'vessels/list', '--json'],
    ['echo', 'resend', 'last', '--json'],
    ['follow', '--json'],
    ['session', 'close', 'agent', '--debug'],
    ['send', 'desk/log-in', '--set', 'password=wrong-word-of-nobody', '--debug', '--json'],
    ['run', 'berth-stay', '--set', 'new-nights=40', '--json', '--debug'],
    ['send', 'no/such', '--debug', '--json'],
    ['run', 'no-such', '--json'],
  ]) {
    const { out, err } = await echoTrail(args, { cwd });
    outputs.push(out, err);
  }
  const text = outputs.join('\n');
  assert.ok(!text.includes(password));
  assert.doesNotMatch(text, /lh_[\w-]{20}/);
  assert.match(text, /‹secret›/);
  for (const { path, text: bytes } of [...everyFile(cwd), ...everyFile(userFolder)]) {
    assert.ok(!bytes.includes(password), path);
    assert.doesNotMatch(bytes, /lh_[\w-]{20}/, path);
  }
});

test('a log-in that is sent by hand shows and records neither its password nor its token', async () => {
  const cwd = demoCollection(standin.origin);
  const texts: string[] = [];
  const given = ['--set', 'user=agent', '--set', `password=${password}`];
  for (const args of [
    ['preview', 'desk/log-in', ...given],
    ['preview', 'desk/log-in', ...given, '--json'],
    ['send', 'desk/log-in', ...given],
    ['send', 'desk/log-in', ...given, '--json'],
    ['send', 'desk/log-in', ...given, '--pick', '$.token'],
    [
      'send',
      'POST',
      '/v1/sessions',
      '--session',
      'none',
      '--body-json',
      JSON.stringify(standin.credentials),
      '--as',
      'desk/by-hand',
    ],
    ['echo', 'show'],
  ]) {
    const { out, err, status } = await echoTrail(args, { cwd });
    assert.equal(status, 0, err);
    texts.push(out, err);
  }
  for (const { path, text } of everyFile(cwd)) if (!path.endsWith('by-hand.yaml')) texts.push(text);
  const all = texts.join('\n');
  assert.ok(!all.includes(password));
  assert.doesNotMatch(all, /lh_[\w-]{20}/);
});

test('a kept value that holds a token is not held in the open', async () => {
  const cwd = await readyCollection();
  writeIn(
    cwd,
    'requests/desk/whole.yaml',
    `inputs: {password: {default: "\${secret.deskPassword}"}}\nmethod: POST\nurl: \${origin}/v1/sessions\nsession: none\nbody: {json: {user: agent, password: "\${password}"}}\nkeep: {login: $, user: $.user}\n`,
  );
  assert.equal((await echoTrail(['send', 'desk/whole'], { cwd })).status, 0);
  for (const { path, text } of everyFile(cwd)) assert.doesNotMatch(text, /lh_[\w-]{20}/, path);
  assert.match((await echoTrail(['env', 'show'], { cwd })).out, /user +"agent" +held from desk\/whole/);
});

test('a kept secret is neither shown, nor held, nor recorded', async () => {
  const cwd = await readyCollection();
  writeIn(
    cwd,
    'requests/desk/token.yaml',
    `inputs: {password: {default: "\${secret.deskPassword}"}}\nmethod: POST\nurl: \${origin}/v1/sessions\nsession: none\nbody: {json: {user: agent, password: "\${password}"}}\nkeep: {token: {at: $.token, secret: true}}\n`,
  );
  const { out, err, status } = await echoTrail(['send', 'desk/token'], { cwd });
  assert.equal(status, 0, err);
  assert.match(err, /kept +token = ‹secret›/);
  assert.doesNotMatch(out + err, /lh_[\w-]{20}/);
  for (const { path, text } of everyFile(cwd)) assert.ok(!/lh_[\w-]{20}/.test(text), path);
});

test('secrets come from the process environment first, and by environment before all', async () => {
  const server = await rawServer(() => responseOf('{}'));
  const cwd = collectionOf(
    { 'requests/x.yaml': 'url: ${origin}/\nheaders: {X-Key: "${secret.apiKey}"}\n' },
    server.origin,
  );
  const missing = await echoTrail(['send', 'x'], { cwd });
  assert.equal(missing.status, 4);
  assert.match(missing.err, /secret apiKey is not set[\s\S]*secret set apiKey[\s\S]*ECHO_TRAIL_SECRET_API_KEY/);
  await echoTrail(['secret', 'set', 'apiKey'], { cwd, input: 'for-all-environments' });
  await echoTrail(['secret', 'set', 'apiKey', '--env', 'sandbox'], { cwd, input: 'for-the-sandbox' });
  await echoTrail(['send', 'x'], { cwd });
  await echoTrail(['send', 'x'], { cwd, env: { ECHO_TRAIL_SECRET_API_KEY: 'from-the-process' } });
  await echoTrail(['secret', 'remove', 'apiKey', '--env', 'sandbox'], { cwd });
  await echoTrail(['send', 'x'], { cwd });
  assert.deepEqual(
    server.received.map((text) => /X-Key: (.*)\r/.exec(text)?.[1]),
    ['for-the-sandbox', 'from-the-process', 'for-all-environments'],
  );
  const warned = await echoTrail(['secret', 'set', 'apiKey'], { cwd, input: '"quoted"' });
  assert.match(warned.err, /begins and ends with quotes/);
  const listed = await echoTrail(['secret', 'list'], { cwd });
  assert.match(
    listed.out,
    /^apiKey {2}all environments {2}sandbox goes to \S+\n\nused by the collection\n {2}apiKey {2}stored {2}requests\/x\.yaml\n$/,
  );
  await server.close();
});

test('a secret goes to no host that the environment does not list', async () => {
  const server = await rawServer(() => responseOf('{}'));
  const cwd = collectionOf({
    'environments/sandbox.yaml': `changes: allow\nvariables: {origin: "http://localhost:${server.port}"}\nhosts: [api.larkhaven.example]\n`,
    'requests/x.yaml': 'url: ${origin}/\nheaders: {X-Key: "${secret.apiKey}"}\n',
    'requests/open.yaml': 'url: ${origin}/\n',
    'sessions/s.yaml': 'kind: bearer\ntoken: ${secret.apiKey}\n',
  });
  const env = { ECHO_TRAIL_SECRET_API_KEY: 'gull-and-tern' };
  for (const args of [
    ['send', 'x'],
    ['send', 'open', '--session', 's'],
  ]) {
    const { status, err } = await echoTrail(args, { cwd, env });
    assert.equal(status, 4);
    assert.match(err, /the environment sandbox does not list localhost:\d+/);
  }
  assert.equal(server.received.length, 0);
  await server.close();
});

test('bearer sends its token; a token pasted with its quotes is refused before it is sent', async () => {
  const server = await rawServer(() => responseOf('{}'));
  const cwd = collectionOf(
    {
      'requests/x.yaml': 'url: ${origin}/\nsession: s\n',
      'sessions/s.yaml': 'kind: bearer\ntoken: ${secret.apiKey}\n',
    },
    server.origin,
  );
  assert.equal((await echoTrail(['send', 'x'], { cwd, env: { ECHO_TRAIL_SECRET_API_KEY: 'tide' } })).status, 0);
  assert.match(server.received[0] ?? '', /\r\nAuthorization: Bearer tide\r\n/);
  const quoted = await echoTrail(['send', 'x'], { cwd, env: { ECHO_TRAIL_SECRET_API_KEY: '"tide"' } });
  assert.equal(quoted.status, 4);
  assert.match(quoted.err, /quotes/);
  assert.equal(server.received.length, 1);
  await server.close();
});

test('a login that is refused is explained; a token that ended is renewed once', async () => {
  const cwd = demoCollection(standin.origin);
  await echoTrail(['secret', 'set', 'deskPassword'], { cwd, input: 'wrong-password' });
  const refused = await echoTrail(['send', 'vessels/show'], { cwd });
  assert.equal(refused.status, 4);
  assert.match(
    refused.err,
    /session agent was refused: desk\/log-in returned 401 \(Not logged in: the user or the password is wrong\)/,
  );
  await echoTrail(['secret', 'set', 'deskPassword'], { cwd, input: password });
  assert.equal((await echoTrail(['session', 'open', 'agent'], { cwd })).status, 0);
  // Logged out behind the tool's back.
  assert.equal((await echoTrail(['send', 'desk/log-out'], { cwd })).status, 0);
  const renewed = await echoTrail(['send', 'vessels/show'], { cwd });
  assert.equal(renewed.status, 0, renewed.err);
  const closed = await echoTrail(['session', 'close', 'agent'], { cwd });
  assert.match(closed.err, /closed agent/);
  assert.match((await echoTrail(['session', 'list'], { cwd })).out, /agent +login +not open/);
});

test('an environment that refuses changes sends none; one that asks wants a yes', async () => {
  const server = await rawServer(() => responseOf('{}'));
  const cwd = collectionOf(
    {
      'requests/cut.yaml': 'method: DELETE\nurl: ${origin}/\n',
      'requests/ask.yaml': 'method: POST\nchanges: false\nurl: ${origin}/\n',
    },
    server.origin,
  );
  const environment = join(cwd, 'environments/sandbox.yaml');
  const text = readFileSync(environment, 'utf8');
  writeFileSync(environment, text.replace('changes: allow', 'changes: refuse'));
  const refused = await echoTrail(['send', 'cut', '--allow-changes'], { cwd });
  assert.deepEqual([refused.status, server.received.length], [4, 0]);
  assert.match(refused.err, /sandbox refuses calls that change something: DELETE/);
  assert.equal((await echoTrail(['send', 'ask'], { cwd })).status, 0);
  writeFileSync(environment, text.replace('changes: allow', 'changes: ask'));
  assert.deepEqual([(await echoTrail(['send', 'cut'], { cwd })).status, server.received.length], [4, 1]);
  assert.deepEqual(
    [(await echoTrail(['send', 'cut', '--allow-changes'], { cwd })).status, server.received.length],
    [0, 2],
  );
  await server.close();
});
