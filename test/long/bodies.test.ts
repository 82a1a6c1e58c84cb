/** Bodies that are longer than what is held in memory, and small ones that swell. */
import assert from 'node:assert/strict';
import { createHmac } from 'node:crypto';
import { appendFileSync, existsSync, readFileSync } from 'node:fs';
import { createServer, type ServerResponse } from 'node:http';
import { join } from 'node:path';
import { after, test } from 'node:test';
import { gzipSync } from 'node:zlib';
import { startStandin } from '../../src/standin/server.js';
import { collectionOf, writeIn } from '../support/folder.js';
import { document, echoTrail, projectFolder } from '../support/program.js';

const secret = 'sounding-lead-quay-77';
const env = { ECHO_TRAIL_SECRET_KEY: secret };

/** More than is held in memory, with the secret every thousand characters or so. */
const piece = `{"berth":"north","note":"${'tide '.repeat(190)}","key":"${secret}"},\n`;
const longSize = 58e6;

function pour(response: ServerResponse): void {
  response.setHeader('content-type', 'application/json');
  response.write('[');
  let left = longSize;
  const go = (): void => {
    while (left > 0) {
      left -= piece.length;
      if (!response.write(piece)) {
        response.once('drain', go);
        return;
      }
    }
    response.end('{}]');
  };
  go();
}

const server = createServer((request, response) => {
  if (request.url === '/long') return pour(response);
  response.setHeader('content-encoding', 'gzip');
  response.setHeader('content-type', 'text/plain');
  response.end(gzipSync(request.url === '/swelling' ? Buffer.alloc(70e6, '~') : Buffer.alloc(20e6)));
});
await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
const origin = `http://127.0.0.1:${(server.address() as { port: number }).port}`;
after(() => {
  server.closeAllConnections();
  server.close();
});

const collection = (): string =>
  collectionOf({ 'requests/long.yaml': 'url: ${origin}/long\nheaders: {X-Key: "${secret.key}"}\n' }, origin);

test('a body that is too long for memory is in a file, its secrets hidden, and its beginning is shown', async () => {
  const cwd = collection();
  const sent = await echoTrail(['send', 'long'], { cwd, env });
  assert.equal(sent.status, 0, sent.err);
  assert.ok(sent.out.length < 50_000 && sent.out.startsWith('[{"berth":"north"'), sent.out.slice(0, 100));
  assert.match(sent.err, /^long {4}58\.\d MB, only the beginning is shown; the whole body is in (\S+)$/m);
  const [, path = ''] = /the whole body is in (\S+)/.exec(sent.err) ?? [];
  const stored = readFileSync(join(cwd, path), 'utf8');
  assert.ok(!stored.includes(secret) && !sent.out.includes(secret));
  const count = Math.ceil(longSize / piece.length);
  assert.equal(stored.split('‹secret›').length - 1, count);
  assert.equal(stored.replaceAll('‹secret›', secret), `[${piece.repeat(count)}{}]`);
  const shown = await echoTrail(['echo', 'show', '--body'], { cwd });
  assert.equal(shown.out, stored);
  const json = document<{ body: null; bodyFile: string; ok: boolean }>(
    await echoTrail(['send', 'long', '--json'], { cwd, env }),
  );
  assert.deepEqual([json.body, json.ok, existsSync(json.bodyFile)], [null, true, true]);
  const picked = await echoTrail(['send', 'long', '--pick', '$[0].berth'], { cwd, env });
  assert.equal(picked.status, 3);
  assert.match(
    picked.err,
    /response is too large[\s\S]*it is 58\.\d MB long; expectations, keep and --pick read up to 56\.0 MB/,
  );
});

test('a small response that swells goes to a file, too; --to says so', async () => {
  const cwd = collection();
  const sent = await echoTrail(['send', 'GET', '/swelling'], { cwd });
  assert.equal(sent.status, 0, sent.err);
  assert.match(sent.err, /70\.0 MB \(.* on the wire\)/);
  const [, path = ''] = /the whole body is in (\S+)/.exec(sent.err) ?? [];
  assert.equal(readFileSync(join(cwd, path)).length, 70e6);
  const saved = await echoTrail(['send', 'GET', '/grows', '--to', 'grown.bin'], { cwd });
  assert.match(saved.err, /warning {2}.* received have grown to 10\.\d MB so far in grown\.bin\.part/);
  assert.match(saved.err, /saved 20\.0 MB to grown\.bin/);
  assert.equal(readFileSync(join(cwd, 'grown.bin')).length, 20e6);
});

test('a file of 200 MB is signed without entering memory', async () => {
  const vendor = await startStandin({ port: 0 });
  const cwd = collectionOf(
    {
      'signatures/seal.yaml': 'headers: {X-Seal: "${sent.body | hmac-sha-256(secret.key) | hex}"}\n',
      'signatures/text.yaml': 'headers: {X-Seal: "${sent.body | text}"}\n',
      'signatures/locks.yaml':
        'kind: message-signature\ndigest: sha-256\nsignatures: {a: {components: [content-digest], algorithm: hmac-sha256, key: "${secret.key | base64}"}}\n',
      'requests/plan.yaml':
        'method: PUT\nurl: ${origin}/uploads/plan.bin\nbody: {file: data/plan.bin}\nsignature: seal\nexpect: {status: 201, $.size: 200000000}\n',
    },
    vendor.origin,
  );
  const block = Buffer.alloc(10_000_000, 'quay ');
  writeIn(cwd, 'data/plan.bin', '');
  for (let index = 0; index < 20; index += 1) appendFileSync(join(cwd, 'data/plan.bin'), block);
  const key = { ECHO_TRAIL_SECRET_KEY: 'winch-grease-77' };
  const hmac = createHmac('sha256', 'winch-grease-77');
  for (let index = 0; index < 20; index += 1) hmac.update(block);
  const revealed = document<{ headers: { name: string; value: string }[] }>(
    await echoTrail(['preview', 'plan', '--reveal', '--json'], { cwd, env: key }),
  );
  assert.equal(revealed.headers.find(({ name }) => name === 'X-Seal')?.value, hmac.digest('hex'));
  const peak = join(cwd, 'peak');
  const measured = {
    ...key,
    NODE_OPTIONS: `--import=${join(projectFolder, 'bench/peak-memory.mjs')}`,
    ECHO_TRAIL_BENCH_PEAK: peak,
  };
  const ended = await echoTrail(['send', 'plan', '--sign', 'locks'], { cwd, env: measured });
  assert.equal(ended.status, 0, ended.err);
  assert.ok(Number(readFileSync(peak, 'utf8')) < 180e6, `${readFileSync(peak, 'utf8')} bytes at most`);
  const text = await echoTrail(['send', 'plan', '--sign', 'text'], { cwd, env: key });
  assert.equal(text.status, 2);
  assert.match(
    text.err,
    /text would need the whole body in memory, and it is streamed from files[\s\S]*\$\{sent\.body \| sha-256 \| hex\}/,
  );
  await vendor.close();
});
