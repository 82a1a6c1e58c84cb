/** The local state that several commands change at once, the locks in front of it, and files that cannot be read or written. */
import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { hostname } from 'node:os';
import { join } from 'node:path';
import { test } from 'node:test';
import { collectionOf, temporaryFolder, writeIn } from '../../support/folder.js';
import { document, type Ended, echoTrail, program } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';

const many = (count: number, run: (number: number) => Promise<Ended>): Promise<Ended[]> =>
  Promise.all(Array.from({ length: count }, (_, number) => run(number)));

const allWell = (ended: readonly Ended[]): void => {
  for (const { status, err } of ended) assert.equal(status, 0, err);
};

test('what many commands keep, store and add at the same time is all there', async () => {
  const server = await rawServer((head) => {
    const name = /^GET \/(\w+)/.exec(head)?.[1] ?? '';
    return responseOf(`{"${name}": "value of ${name}"}`, {
      headers: [`set-cookie: ${name}=cookie-of-${name}; Path=/`],
    });
  });
  const files: Record<string, string> = {};
  for (let number = 0; number < 12; number += 1) {
    files[`requests/r${number}.yaml`] = `url: \${origin}/n${number}\nkeep: {n${number}: $.n${number}}\n`;
    files[`apis/a${number}.json`] = JSON.stringify({
      openapi: '3.1.0',
      info: { title: `A${number}`, version: '1' },
      paths: { [`/n${number}`]: { get: { operationId: `get${number}`, responses: { 200: { description: 'x' } } } } },
    });
  }
  const cwd = collectionOf(files, server.origin);
  allWell(await many(12, (number) => echoTrail(['send', `r${number}`], { cwd })));
  const held = JSON.parse(readFileSync(join(cwd, '.echo-trail/held/sandbox.json'), 'utf8')) as object;
  assert.equal(Object.keys(held).length, 12);
  // A request that sends what all others set.
  writeIn(cwd, 'requests/all.yaml', 'url: ${origin}/all\n');
  allWell([await echoTrail(['send', 'all'], { cwd })]);
  const last = server.received.at(-1) ?? '';
  for (let number = 0; number < 12; number += 1) assert.match(last, new RegExp(`n${number}=cookie-of-n${number}\\b`));

  const home = temporaryFolder();
  const env = { ECHO_TRAIL_HOME: home };
  allWell(
    await many(12, (number) =>
      echoTrail(['secret', 'set', `s${number}`], { cwd, env, input: `sesame-${number}-seed` }),
    ),
  );
  const secrets = document<{ secrets: unknown[] }>(await echoTrail(['secret', 'list', '--json'], { cwd, env }));
  assert.equal(secrets.secrets.length, 12);

  allWell(await many(12, (number) => echoTrail(['docs', 'add', `apis/a${number}.json`], { cwd })));
  const listed = document<{ sources: { name: string }[] }>(await echoTrail(['docs', 'list', '--json'], { cwd }));
  assert.equal(listed.sources.length, 12);
  assert.deepEqual(
    readdirSync(join(cwd, '.echo-trail')).filter((name) => name.endsWith('.lock')),
    [],
  );
  await server.close();
});

/** Puts a lock where `secret set` wants one. */
function lockedBy(cwd: string, process: number): string {
  const lock = join(cwd, '.echo-trail/secrets.sealed.lock');
  mkdirSync(lock, { recursive: true });
  writeFileSync(join(lock, 'holder'), JSON.stringify({ process, machine: hostname() }));
  return lock;
}

test('the lock of a process that is gone is free at once', async () => {
  const cwd = collectionOf({});
  const { pid } = spawnSync(process.execPath, ['--version']);
  const lock = lockedBy(cwd, pid);
  const ended = await echoTrail(['secret', 'set', 'word'], { cwd, input: 'sesame-seed-1' });
  allWell([ended]);
  assert.doesNotMatch(ended.err, /waiting/);
  assert.ok(!existsSync(lock));
});

test('whoever waits for a lock is told who has it, and can give up', async () => {
  const cwd = collectionOf({});
  const lock = lockedBy(cwd, process.pid);
  const ended = await echoTrail(['secret', 'set', 'word'], {
    cwd,
    input: 'sesame-seed-1',
    meanwhile: (child) =>
      child.stderr?.on('data', (text: string) => {
        if (text.includes('waiting for process')) child.kill('SIGINT');
      }),
  });
  assert.equal(ended.status, 130, ended.err);
  assert.match(ended.err, new RegExp(`waiting for process ${process.pid}, which works on .*secrets\\.sealed`));
  assert.ok(existsSync(lock), "it is another's");
  rmSync(lock, { recursive: true });
});

/** Each is told in plain words, with the path and what to do, and is no fault of the program. */
const obstacles: readonly {
  readonly what: string;
  readonly at: string;
  readonly args: string[];
  readonly folder: boolean;
}[] = [
  { what: 'a file in the place of the echoes', at: '.echo-trail/echoes', args: ['send', 'book'], folder: false },
  { what: 'a file in the place of the journals', at: '.echo-trail/runs', args: ['run', 'book'], folder: false },
  { what: 'a file in the place of what is held', at: '.echo-trail/held', args: ['send', 'book'], folder: false },
  {
    what: 'a folder in the place of what is held',
    at: '.echo-trail/held/sandbox.json',
    args: ['send', 'book'],
    folder: true,
  },
  {
    what: 'a folder in the place of the secrets',
    at: '.echo-trail/secrets.sealed',
    args: ['secret', 'list'],
    folder: true,
  },
  {
    what: 'a folder in the place of the sessions',
    at: '.echo-trail/sessions.sealed',
    args: ['send', 'in'],
    folder: true,
  },
  {
    what: 'a folder in the place of the cookies',
    at: '.echo-trail/cookies/sandbox.sealed',
    args: ['send', 'book'],
    folder: true,
  },
  { what: 'a folder in the place of the manifest', at: 'echo-trail.yaml', args: ['list'], folder: true },
];

for (const { what, at, args, folder } of obstacles) {
  test(`${what} is told plainly`, async () => {
    const server = await rawServer(() =>
      responseOf('{"id": "made-1", "token": "sesame-token-1"}', { status: '201 Created' }),
    );
    const cwd = collectionOf(
      {
        'requests/book.yaml': 'method: POST\nurl: ${origin}/calls\nbody: {json: {a: 1}}\nkeep: {id: $.id}\n',
        'requests/login.yaml': 'method: POST\nurl: ${origin}/login\nchanges: false\nbody: {json: {a: 1}}\n',
        'requests/in.yaml': 'url: ${origin}/in\nsession: s\n',
        'sessions/s.yaml': 'kind: login\nopen: {send: login}\ntoken: $.token\n',
      },
      server.origin,
    );
    rmSync(join(cwd, at), { force: true });
    if (folder) writeIn(cwd, `${at}/in-it`, 'x');
    else writeIn(cwd, at, 'x');
    const ended = await echoTrail(args, { cwd });
    assert.notEqual(ended.status, 0);
    assert.ok(ended.err.includes(at.split('/').at(-1) as string), ended.err);
    assert.match(ended.err, /^try /m);
    assert.doesNotMatch(ended.err, /--debug|E[A-Z]{4,}|at .*\.(?:ts|js|cjs)/, ended.err);
    // What cannot be recorded before it leaves does not leave; what left is shown.
    if (/echoes|journals/.test(what)) assert.equal(server.received.length, 0);
    else if (server.received.length > 0 && args[0] === 'send') assert.match(ended.err, /20[01] Created/);
    await server.close();
  });
}

test('a disk that takes nothing keeps a changing call from leaving, and says so', async () => {
  const server = await rawServer(() => responseOf('{}', { status: '201 Created' }));
  const cwd = collectionOf({ 'requests/book.yaml': 'method: POST\nurl: ${origin}/calls\n' }, server.origin);
  const limited = spawnSync(
    'sh',
    ['-c', `trap '' XFSZ; ulimit -f 0; exec "${process.execPath}" "${program}" send book 2>&1 | cat`],
    {
      cwd,
      encoding: 'utf8',
      env: { PATH: process.env.PATH, HOME: temporaryFolder(), NODE_COMPILE_CACHE: '' },
    },
  );
  assert.match(limited.stdout, /cannot write .*echoes/);
  assert.match(limited.stdout, /^try /m);
  assert.equal(server.received.length, 0);
  await server.close();
});

test('an index that is broken is made anew', async () => {
  const cwd = collectionOf({
    'apis/a.json': JSON.stringify({
      openapi: '3.1.0',
      info: { title: 'Berths', version: '1' },
      paths: {
        '/berths': { get: { operationId: 'berths', summary: 'All berths', responses: { 200: { description: 'x' } } } },
      },
    }),
  });
  allWell([await echoTrail(['docs', 'add', 'apis/a.json', '--name', 'a'], { cwd })]);
  const folder = join(cwd, '.echo-trail/documentation/a');
  for (const file of readdirSync(folder)) {
    writeFileSync(join(folder, file), file === 'list.txt' ? 'x'.repeat(500) : '');
    const shown = await echoTrail(['docs', 'show', 'a/berths'], { cwd });
    assert.equal(shown.status, 0, `${file}: ${shown.err}`);
    assert.match(shown.out, /All berths/);
  }
});

test('a journal that was sealed with another key, or whose settings are broken, is told plainly', async () => {
  const server = await rawServer(() => responseOf('{"id": "made-1"}', { status: '201 Created' }));
  const cwd = collectionOf(
    {
      'requests/book.yaml':
        'inputs: {a: {}}\nmethod: POST\nurl: ${origin}/calls/{a}\nkeep: {id: {at: $.id, secret: true}}\n',
      'requests/drop.yaml': 'inputs: {id: {}}\nmethod: DELETE\nurl: ${origin}/calls/{id}\n',
      'trails/t.yaml': 'inputs: {a: {}}\nundo: never\nsteps: [{send: book, undo: {send: drop}}]\n',
    },
    server.origin,
  );
  allWell([await echoTrail(['run', 't', '--set', 'a=1'], { cwd })]);
  const elsewhere = await echoTrail(['run', '--undo', 'last'], { cwd, env: { ECHO_TRAIL_HOME: temporaryFolder() } });
  const folder = join(cwd, '.echo-trail/runs');
  const [file = ''] = readdirSync(folder);
  const path = join(folder, file);
  writeFileSync(path, readFileSync(path, 'utf8').replace(/"settings":"[^"]*"/, '"settings":"AAAA"'));
  const broken = await echoTrail(['run', '--undo', 'last'], { cwd });
  for (const { status, err } of [elsewhere, broken]) {
    assert.equal(status, 4, err);
    assert.match(err, /cannot open .*runs[\s\S]*^try /m);
    assert.doesNotMatch(err, /--debug/);
  }
  await server.close();
});
