/** Recorded exchanges: found again, sent again, let go. */
import assert from 'node:assert/strict';
import { readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { collectionOf } from '../../support/folder.js';
import { document, type Ended, echoTrail } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';

interface Listed {
  readonly id: string;
  readonly request: string | null;
  readonly status: number | null;
  readonly ok: boolean;
  readonly url: string;
}
const listed = (ended: Ended): readonly Listed[] => document<{ echoes: Listed[] }>(ended).echoes;

async function vendor(): Promise<{ origin: string; heads: string[]; bodies: () => string[]; close(): Promise<void> }> {
  const heads: string[] = [];
  const server = await rawServer((head) => {
    heads.push(head);
    return responseOf('{}', head.includes('/missing') ? { status: '404 Not Found' } : {});
  });
  const bodies = (): string[] => server.received.join('').match(/\{"[^}]*\}/g) ?? [];
  return { origin: server.origin, heads, bodies, close: server.close };
}

test('echoes are listed by request, status, method, failure, run, environment and age', async () => {
  const { origin, close } = await vendor();
  const cwd = collectionOf(
    {
      'requests/a/get.yaml': 'inputs: {n: {}}\nurl: ${origin}/{n}\n',
      'requests/post.yaml': 'method: POST\nurl: ${origin}/post\n',
      'environments/other.yaml': `changes: allow\nvariables: {origin: "${origin}"}\n`,
      'trails/t.yaml':
        'steps: [{send: a/get, give: {n: one}}, {send: post}, {name: gone, send: a/get, give: {n: missing}}]\n',
    },
    origin,
  );
  await echoTrail(['run', 't'], { cwd });
  await echoTrail(['send', 'post', '--env', 'other'], { cwd });
  const ids = async (...args: string[]): Promise<string[]> =>
    listed(await echoTrail(['echo', 'list', '--json', ...args], { cwd })).map(
      ({ url, id }) => `${id.split('.')[1]} ${url.replace(origin, '')}`,
    );
  const [run = ''] = listed(await echoTrail(['echo', 'list', '--json', '--status', '404'], { cwd })).map(
    ({ id }) => id.split('.')[0],
  );
  assert.deepEqual(await ids('--request', 'get'), ['3 /missing', '1 /one']);
  assert.deepEqual(await ids('--request', 'gone'), ['3 /missing']);
  assert.deepEqual(await ids('--status', '2xx', '--method', 'post'), ['1 /post', '2 /post']);
  assert.deepEqual(await ids('--failed'), ['3 /missing']);
  assert.deepEqual(await ids('--run', run ?? ''), ['3 /missing', '2 /post', '1 /one']);
  assert.deepEqual(await ids('--env', 'other'), ['1 /post']);
  assert.equal((await ids('--since', '1h')).length, 4);
  assert.deepEqual(await ids('--status', 'none'), []);
  for (const [args, says] of [
    [['--status', 'good'], /--status takes a status such as 404/],
    [['--since', '5'], /--since takes a duration with its unit/],
  ] as const) {
    const wrong = await echoTrail(['echo', 'list', ...args], { cwd });
    assert.equal(wrong.status, 2);
    assert.match(wrong.err, says);
  }
  await close();
});

test('an echo is sent again with what it was given then, with fresh credentials, or with other values', async () => {
  const { origin, heads, bodies, close } = await vendor();
  const cwd = collectionOf(
    {
      'sessions/key.yaml': 'kind: bearer\ntoken: ${secret.key}\n',
      'requests/order.yaml':
        'inputs: {imo: {}, nights: {type: integer, default: 2}, pass: {default: "${secret.pass}"}}\nmethod: POST\nurl: ${origin}/orders/{imo}\nsession: key\nheaders: {X-Pass: "${pass}", X-At: "${now | unix-ms}"}\nbody: {json: {nights: "${nights}"}}\n',
    },
    origin,
  );
  const secrets = (key: string): Record<string, string> => ({
    ECHO_TRAIL_SECRET_KEY: key,
    ECHO_TRAIL_SECRET_PASS: 'gangway-4410-open',
  });
  await echoTrail(['send', 'order', '--set', 'imo=9000017', '--set', 'nights=5'], {
    cwd,
    env: secrets('first-lantern-1'),
  });
  const again = await echoTrail(['echo', 'resend'], { cwd, env: secrets('second-lantern-2') });
  assert.equal(again.status, 0, again.err);
  assert.match(again.err, /as echo \w{4}\.1/);
  const other = await echoTrail(['echo', 'resend', 'last', '--set', 'imo=9000031'], {
    cwd,
    env: secrets('second-lantern-2'),
  });
  assert.equal(other.status, 0, other.err);
  const told = heads.map((head) => [
    /POST (\S+)/.exec(head)?.[1],
    /authorization: Bearer (\S+)/i.exec(head)?.[1],
    /x-pass: (\S+)/i.exec(head)?.[1],
  ]);
  assert.deepEqual(told, [
    ['/orders/9000017', 'first-lantern-1', 'gangway-4410-open'],
    ['/orders/9000017', 'second-lantern-2', 'gangway-4410-open'],
    ['/orders/9000031', 'second-lantern-2', 'gangway-4410-open'],
  ]);
  assert.deepEqual(
    bodies(),
    Array.from({ length: 3 }, () => '{"nights":5}'),
    'a number is still a number',
  );
  const moments = heads.map((head) => /x-at: (\d+)/i.exec(head)?.[1]);
  assert.equal(new Set(moments).size, 3, 'what is of the moment is made anew');
  await close();
});

test('a request from the command line is sent again as it left, unless something of it is hidden', async () => {
  const { origin, heads, bodies, close } = await vendor();
  const cwd = collectionOf({ 'requests/other.yaml': 'url: ${origin}/other\n' }, origin);
  await echoTrail(['send', 'POST', '/plain?a=1', '--header', 'X-One: 1', '--body-json', '{"a": 1}'], { cwd });
  const again = await echoTrail(['echo', 'resend'], { cwd });
  assert.equal(again.status, 0, again.err);
  const essence = (head = ''): string[] =>
    head
      .split('\r\n')
      .filter((line) => !/^(?:user-agent|host|connection)/i.test(line))
      .sort();
  assert.deepEqual(essence(heads[1]), essence(heads[0]));
  assert.deepEqual(bodies().slice(-2), ['{"a":1}', '{"a":1}']);
  await echoTrail(['send', 'GET', '/with?password=quayside-2211'], { cwd });
  const hidden = await echoTrail(['echo', 'resend'], { cwd });
  assert.equal(hidden.status, 2, hidden.out + hidden.err);
  assert.match(hidden.err, /a secret in it was not recorded[\s\S]*--as PATH/);
  await echoTrail(['send', 'other'], { cwd });
  writeFileSync(join(cwd, 'requests/other.yaml'), 'url: [\n');
  assert.equal((await echoTrail(['echo', 'resend'], { cwd })).status, 2);
  await close();
});

test('old records are deleted on request, with the journals of their runs', async () => {
  const { origin, close } = await vendor();
  const cwd = collectionOf({ 'requests/get.yaml': 'url: ${origin}/x\n' }, origin);
  for (let count = 0; count < 3; count += 1) await echoTrail(['run', 'get'], { cwd });
  const left = (folder: string): number => readdirSync(join(cwd, '.echo-trail', folder)).length;
  assert.deepEqual([left('echoes'), left('runs')], [3, 3]);
  const some = await echoTrail(['echo', 'prune', '--keep', '2', '--json'], { cwd });
  assert.deepEqual(document(some), { echoes: 1, journals: 1 });
  const none = await echoTrail(['echo', 'prune', '--older-than', '1d'], { cwd });
  assert.match(none.out, /deleted 0 echoes and 0 runs/);
  const unsaid = await echoTrail(['echo', 'prune'], { cwd });
  assert.equal(unsaid.status, 2);
  assert.match(unsaid.err, /say what to delete/);
  await echoTrail(['echo', 'prune', '--all'], { cwd });
  assert.deepEqual([left('echoes'), left('runs')], [0, 0]);
  await close();
});
