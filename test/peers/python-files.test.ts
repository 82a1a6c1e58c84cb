/** The file server that comes with Python, where that is there: HTTP/1.0, closed connections, dates, folders. */
import assert from 'node:assert/strict';
import { type ChildProcess, spawn, spawnSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import { collectionOf, temporaryFolder } from '../support/folder.js';
import { echoTrail } from '../support/program.js';

const skip = spawnSync('python3', ['--version']).status === 0 ? false : 'there is no python3';
const folder = temporaryFolder();
const large = Buffer.alloc(3_000_000, 'tide ');
let server: ChildProcess | undefined;
let origin = '';

before(async () => {
  if (skip) return;
  writeFileSync(join(folder, 'large.bin'), large);
  writeFileSync(join(folder, 'berths.json'), '{"berths": [{"code": "N1"}]}');
  const started = spawn('python3', ['-u', '-m', 'http.server', '0', '--bind', '127.0.0.1', '--directory', folder], {
    stdio: ['ignore', 'pipe', 'ignore'],
  });
  server = started;
  const port = await new Promise<string>((resolve) => {
    let said = '';
    started.stdout.on('data', (chunk) => {
      said += String(chunk);
      const [, found] = /port (\d+)/.exec(said) ?? [];
      if (found) resolve(found);
    });
  });
  origin = `http://127.0.0.1:${port}`;
});
after(() => server?.kill());

test('files come whole, JSON is read, what is not there is told', { skip }, async () => {
  const cwd = collectionOf({}, origin);
  const picked = await echoTrail(['send', 'GET', '/berths.json', '--pick', '$.berths[0].code'], { cwd });
  assert.deepEqual([picked.status, picked.out], [0, 'N1\n'], picked.err);
  const saved = await echoTrail(['send', 'GET', '/large.bin', '--to', 'large.bin'], { cwd });
  assert.equal(saved.status, 0, saved.err);
  assert.ok(readFileSync(join(cwd, 'large.bin')).equals(large));
  const missing = await echoTrail(['send', 'GET', '/nowhere'], { cwd });
  assert.deepEqual([missing.status, /404/.test(missing.err)], [1, true]);
});

test('a method that it does not have is refused, and recorded', { skip }, async () => {
  const cwd = collectionOf({ 'requests/put.yaml': 'method: PUT\nurl: ${origin}/x\nbody: {json: {}}\n' }, origin);
  const sent = await echoTrail(['send', 'put'], { cwd });
  assert.equal(sent.status, 1, sent.err);
  assert.match((await echoTrail(['echo', 'list'], { cwd })).out, /501 .*PUT/);
});
