/**
 * An object store that others wrote checks our signatures: a recipe of ours, and its own arithmetic. The words of its scheme are
 * read from it, since they are its own.
 */
import assert from 'node:assert/strict';
import { readFileSync, writeFileSync } from 'node:fs';
import type { Server } from 'node:http';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import Store from 's3rver';
import { DUMMY_ACCOUNT } from 's3rver/lib/models/account.js';
import { collectionOf, temporaryFolder } from '../support/folder.js';
import { document, echoTrail } from '../support/program.js';

const key = 'sounding-lead-of-the-store-12';
const env = { ECHO_TRAIL_SECRET_STORE: key };
const scheme = /case '(\w+)':\s*signature\.version = 2/.exec(
  readFileSync(createRequire(import.meta.url).resolve('s3rver/lib/middleware/authentication.js'), 'utf8'),
)?.[1];

let store: { run(): Promise<{ port: number }>; close(): Promise<void>; httpServer: Server };
let origin = '';

before(async () => {
  DUMMY_ACCOUNT.createKeyPair('desk-7', key);
  store = new Store({
    address: '127.0.0.1',
    port: 0,
    silent: true,
    directory: temporaryFolder(),
    configureBuckets: [{ name: 'manifests' }],
  });
  origin = `http://127.0.0.1:${(await store.run()).port}`;
});
after(() => store.close());

const collection = (): string =>
  collectionOf(
    {
      'signatures/seal.yaml': `define:
  stamp: \${now | format("EEE, dd MMM yyyy HH:mm:ss 'GMT'")}
  base:
    lines:
      - \${sent.method}
      - ''
      - \${sent.headers | only("content-type") | header-lines | join("") | slice(13)}
      - ''                              # this store leaves out the date
      - \${sent.path}
  seal: \${base | hmac-sha-1(secret.store) | base64}
headers:
  Date: \${stamp}
  Authorization: ${scheme} desk-7:\${seal}
`,
      'requests/put.yaml':
        'inputs: {name: {}}\nmethod: PUT\nurl: ${origin}/manifests/{name}\nsignature: seal\nheaders: {Content-Type: text/plain}\nbody: {text: "grain, 410.5 t"}\nexpect: {status: 200}\n',
      'requests/get.yaml':
        'inputs: {name: {}}\nurl: ${origin}/manifests/{name}\nsignature: seal\nexpect: {status: 200}\n',
      'data/large.bin': 'tide '.repeat(200_000),
      'requests/file.yaml':
        'method: PUT\nurl: ${origin}/manifests/large\nsignature: seal\nbody: {file: data/large.bin}\nexpect: {status: 200}\n',
    },
    origin,
  );

test('it takes what is signed by a recipe, and gives it back', async () => {
  const cwd = collection();
  // What has to be encoded in an address is signed as it leaves.
  for (const name of ['one', 'kittiwake 2026+é']) {
    const put = await echoTrail(['send', 'put', '--set', `name=${name}`], { cwd, env });
    assert.equal(put.status, 0, put.err + put.out);
    const got = await echoTrail(['send', 'get', '--set', `name=${name}`, '--view', 'raw'], { cwd, env });
    assert.equal(got.out, 'grain, 410.5 t', got.err);
  }
});

test('it refuses another key, and the refusal is told', async () => {
  const cwd = collection();
  const refused = await echoTrail(['send', 'put', '--set', 'name=one', '--json'], {
    cwd,
    env: { ECHO_TRAIL_SECRET_STORE: 'another-key-altogether-99' },
  });
  const { status } = document<{ status: number }>(refused);
  assert.deepEqual([refused.status, status], [1, 403]);
});

test('a file goes up signed, and comes down whole in two goes', async () => {
  const cwd = collection();
  const put = await echoTrail(['send', 'file'], { cwd, env });
  assert.equal(put.status, 0, put.err + put.out);
  const first = await echoTrail(['send', 'get', '--set', 'name=large', '--to', 'large.bin'], { cwd, env });
  assert.equal(first.status, 0, first.err);
  const whole = readFileSync(join(cwd, 'data/large.bin'));
  assert.ok(readFileSync(join(cwd, 'large.bin')).equals(whole));
  // As if the first had been cut short.
  const tag = document<{ headers: [string, string][] }>(
    await echoTrail(['send', 'get', '--set', 'name=large', '--json'], { cwd, env }),
  ).headers.find(([name]) => name.toLowerCase() === 'etag')?.[1];
  writeFileSync(join(cwd, 'again.bin.part'), whole.subarray(0, 300_000));
  writeFileSync(join(cwd, 'again.bin.part.json'), JSON.stringify({ tag }));
  const second = await echoTrail(['send', 'get', '--set', 'name=large', '--to', 'again.bin'], { cwd, env });
  assert.match(second.err, /206/);
  assert.ok(readFileSync(join(cwd, 'again.bin')).equals(whole));
});
