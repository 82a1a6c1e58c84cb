/** Compiled code that is kept between starts: used, renewed, and never in the way. */
import assert from 'node:assert/strict';
import { chmodSync, mkdirSync, readdirSync, readFileSync, statSync, utimesSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { demoCollection, temporaryFolder } from '../../support/folder.js';
import { type Ended, echoTrail } from '../../support/program.js';

const cwd = demoCollection('http://127.0.0.1:9');
const start = (cache: string, args: readonly string[], more: Record<string, string> = {}): Promise<Ended> =>
  echoTrail(args, { cwd, env: { XDG_CACHE_HOME: cache, ...more } });
const kept = (cache: string): string[] => readdirSync(join(cache, 'echo-trail/compiled'));

test('the code of a command is kept for the user alone, and used by its next start', async () => {
  const cache = temporaryFolder();
  const first = await start(cache, ['list']);
  assert.equal(first.status, 0, first.err);
  const [name = ''] = kept(cache);
  assert.match(name, new RegExp(`^list-${process.version.replaceAll('.', '\\.')}-${process.arch}-[0-9a-f]{16}$`));
  const path = join(cache, 'echo-trail/compiled', name);
  if (process.platform !== 'win32') assert.equal(statSync(path).mode & 0o777, 0o600);
  const before = statSync(path).mtimeMs;
  assert.deepEqual(await start(cache, ['list']), first);
  assert.equal(statSync(path).mtimeMs, before, 'nothing new was compiled');
  await start(cache, ['docs', 'list']);
  assert.deepEqual(
    kept(cache)
      .map((one) => one.split('-v')[0])
      .sort(),
    ['docs-list', 'list'],
  );
});

test('what is broken, cut short or made up is not used, and is replaced', async () => {
  const cache = temporaryFolder();
  const good = await start(cache, ['list']);
  const path = join(cache, 'echo-trail/compiled', kept(cache)[0] as string);
  const whole = readFileSync(path);
  for (const bytes of [Buffer.from('not code at all'), whole.subarray(0, whole.length / 2), Buffer.alloc(0)]) {
    writeFileSync(path, bytes);
    assert.deepEqual(await start(cache, ['list']), good);
    assert.ok(readFileSync(path).length > whole.length * 0.9, 'it was renewed');
  }
  // The parts are named, and what is in them is of another build.
  const end = 4 + whole.readUInt32LE(0);
  writeFileSync(path, Buffer.concat([whole.subarray(0, end), Buffer.alloc(whole.length - end, 7)]));
  assert.deepEqual(await start(cache, ['list']), good);
});

test('a folder that cannot be written, and no cache at all, are no trouble', async () => {
  const file = join(temporaryFolder(), 'file');
  writeFileSync(file, '');
  assert.equal((await start(file, ['list'])).status, 0);
  const off = temporaryFolder();
  assert.equal((await start(off, ['list'], { NODE_DISABLE_COMPILE_CACHE: '1' })).status, 0);
  assert.deepEqual(readdirSync(off), []);
});

test('what nothing has renewed for a month is deleted, and builds that are long past', async () => {
  const cache = temporaryFolder();
  const folder = join(cache, 'echo-trail/compiled');
  mkdirSync(folder, { recursive: true });
  chmodSync(folder, 0o700);
  for (const [name, days] of [
    ['old', 40],
    ['young', 3],
    [`list-${process.version}-${process.arch}-0000000000000001`, 4],
    [`list-${process.version}-${process.arch}-0000000000000002`, 3],
    [`list-${process.version}-${process.arch}-0000000000000003`, 2],
    [`check-${process.version}-${process.arch}-0000000000000001`, 4],
  ] as const) {
    writeFileSync(join(folder, name), '');
    const then = Date.now() / 1000 - days * 86_400;
    utimesSync(join(folder, name), then, then);
  }
  await start(cache, ['list']);
  const [newest = ''] = kept(cache).filter((name) => name.startsWith('list-') && !name.includes('-000000'));
  assert.deepEqual(
    kept(cache).sort(),
    [
      `check-${process.version}-${process.arch}-0000000000000001`,
      `list-${process.version}-${process.arch}-0000000000000002`,
      `list-${process.version}-${process.arch}-0000000000000003`,
      newest,
      'young',
    ].sort(),
  );
});
