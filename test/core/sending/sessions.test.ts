/** Sessions: opened once however many need them, renewed once, and what the log and the record make of it. */
import assert from 'node:assert/strict';
import { readdirSync, readFileSync, statSync, utimesSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { openCollection } from '../../../src/core/collection/collection.js';
import { findEcho, newestEchoes } from '../../../src/core/echo/read.js';
import { retain } from '../../../src/core/echo/retain.js';
import { noNames } from '../../../src/core/expression/names.js';
import { openWorkspace } from '../../../src/core/run/open-workspace.js';
import { sendRequest } from '../../../src/core/sending/send.js';
import type { Workspace } from '../../../src/core/sending/workspace.js';
import { collectionOf, temporaryFolder } from '../../support/folder.js';
import { type RawServer, rawServer, responseOf } from '../../support/raw-server.js';

interface Desk {
  readonly server: RawServer;
  readonly workspace: Workspace;
  logins: number;
  /** Only this token is good. */
  good: string;
}

async function desk(lasts = ''): Promise<Desk> {
  const state = { logins: 0, good: '' } as Desk & { server: RawServer; workspace: Workspace };
  const server = await rawServer((head) => {
    if (head.startsWith('POST /login')) {
      state.logins += 1;
      state.good = `token-number-${state.logins}`;
      return responseOf(`{"token": "${state.good}", "seconds": 1}`, {
        status: '201 Created',
        headers: ['set-cookie: desk=cookie-value-1'],
      });
    }
    const sent = /authorization: Bearer (\S+)/i.exec(head)?.[1];
    return sent === state.good
      ? responseOf(`{"ok": true, "said": "${sent}"}`)
      : responseOf('{}', { status: '401 Unauthorized' });
  });
  const root = collectionOf(
    {
      'requests/login.yaml':
        'inputs: {pin: {}}\nmethod: POST\nurl: ${origin}/login\nchanges: false\nbody: {json: {pin: "${pin}"}}\nexpect: {status: 201}\n',
      'requests/get.yaml': 'url: ${origin}/x\nsession: s\nexpect: {status: 200}\n',
      'sessions/s.yaml': `kind: login\nopen: {send: login, give: {pin: "\${secret.pin}"}}\ntoken: $.token\n${lasts}`,
    },
    server.origin,
  );
  const workspace = await openWorkspace({
    collection: openCollection(root),
    home: temporaryFolder(),
    // Shorter than what is hidden by value: it must be hidden by its place.
    processEnvironment: { ECHO_TRAIL_SECRET_PIN: '4711' },
    userAgent: 'test',
  });
  return Object.assign(state, { server, workspace });
}

const get = async ({ workspace }: Desk) =>
  sendRequest(workspace, await workspace.prepare('get'), { given: () => undefined, caller: noNames });

test('a session is opened exactly once, however many need it at one time', async () => {
  const one = await desk();
  const all = await Promise.all(Array.from({ length: 40 }, () => get(one)));
  assert.ok(all.every(({ problems }) => problems.length === 0));
  assert.equal(one.logins, 1);
  await one.workspace.close();
  await one.server.close();
});

test('many refusals of one token that has ended cause one renewal, and every call is responded', async () => {
  const one = await desk();
  await get(one);
  one.good = 'ended by the vendor';
  const all = await Promise.all(Array.from({ length: 40 }, () => get(one)));
  assert.ok(
    all.every(({ problems }) => problems.length === 0),
    String(all.find(({ problems }) => problems.length > 0)?.problems[0]),
  );
  assert.equal(one.logins, 2);
  await one.workspace.close();
  await one.server.close();
});

test('a token whose time is over is renewed before it is sent', async () => {
  const one = await desk('lasts: $.seconds\n');
  await get(one);
  await get(one);
  assert.equal(one.logins, 2);
  assert.equal(one.server.received.join('').match(/GET \/x/g)?.length, 2);
  await one.workspace.close();
  await one.server.close();
});

test('a refusal of a token that was opened for this very call is not retried', async () => {
  const one = await desk();
  const { workspace } = one;
  const spoiled = workspace.transport.send.bind(workspace.transport);
  let calls = 0;
  workspace.transport.send = (wire, signal) => {
    if (wire.url.pathname === '/x') {
      calls += 1;
      one.good = 'never';
    }
    return spoiled(wire, signal);
  };
  const { problems } = await get(one);
  assert.deepEqual([problems.length, calls, one.logins], [1, 1, 1]);
  await workspace.close();
  await one.server.close();
});

test('the record hides credentials by place and by value, and is for its user only', async () => {
  const one = await desk();
  await get(one);
  await one.workspace.close();
  const { local } = one.workspace.collection;
  const folder = join(local, 'echoes');
  const [file = ''] = readdirSync(folder);
  const text = readFileSync(join(folder, file), 'utf8');
  assert.equal(statSync(join(folder, file)).mode & 0o777, 0o600);
  for (const secret of ['token-number-1', '4711', 'cookie-value-1']) assert.ok(!text.includes(secret), secret);
  const login = await findEcho(local, `${one.workspace.log.run}.1`);
  assert.equal(login.sent.body?.text, '{"pin":"‹secret›"}');
  const [last] = await newestEchoes(local, 1);
  assert.match(last?.received?.body?.text ?? '', /"said": "‹secret›"/);
  await one.server.close();
});

test('the oldest runs are deleted, by number and by size, never the newest', async () => {
  const one = await desk();
  const { local } = one.workspace.collection;
  await get(one);
  await one.workspace.close();
  const folder = join(local, 'echoes');
  const [file = ''] = readdirSync(folder);
  const text = readFileSync(join(folder, file), 'utf8');
  const { writeFileSync } = await import('node:fs');
  for (const [index, name] of ['a', 'b', 'c'].entries()) {
    writeFileSync(join(folder, `2026-${name}.jsonl`), text);
    utimesSync(join(folder, `2026-${name}.jsonl`), 1000 + index, 1000 + index);
  }
  assert.equal(await retain(local, { runs: 3, size: 1e9 }), 1);
  assert.ok(!readdirSync(folder).includes('2026-a.jsonl'));
  assert.equal(await retain(local, { runs: 9, size: 1 }), 2);
  assert.deepEqual(readdirSync(folder), [file]);
  await one.server.close();
});
