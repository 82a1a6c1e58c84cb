/** Responses that are very deep or come in odd ways; files that are written beside their place; what is deleted. */
import assert from 'node:assert/strict';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { join } from 'node:path';
import { after, test } from 'node:test';
import { collectionOf, writeIn } from '../../support/folder.js';
import { document, documentLines, echoTrail } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';

const server = createServer((request, response) => {
  switch (request.url) {
    case '/deep':
      response.setHeader('content-type', 'application/json');
      return void response.end('['.repeat(100_000) + ']'.repeat(100_000));
    case '/texts':
      // Brackets in texts are no levels.
      response.setHeader('content-type', 'application/json');
      return void response.end(JSON.stringify({ note: `[{"`.repeat(5000), ok: true }));
    default:
      response.setHeader('content-type', 'application/json');
      return void response.end('{"ok": true}');
  }
});
await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
const origin = `http://127.0.0.1:${(server.address() as { port: number }).port}`;
after(() => {
  server.closeAllConnections();
  server.close();
});

const collection = (files: Readonly<Record<string, string>> = {}): string =>
  collectionOf(
    {
      'requests/deep.yaml': 'url: ${origin}/deep\nkeep: {all: $}\n',
      ...files,
    },
    origin,
  );

test('JSON that is nested too deeply is told beside it, and a run has its summary', async () => {
  const cwd = collection();
  const sent = await echoTrail(['send', 'deep'], { cwd });
  assert.equal(sent.status, 2);
  assert.match(sent.err, /200 OK[\s\S]*nested more deeply than 512 levels/);
  assert.ok(sent.out.startsWith('[[[[['));
  const walked = await echoTrail(['run', 'deep', '--json'], { cwd });
  assert.deepEqual(
    documentLines(walked).map(({ event }) => event),
    ['run', 'walk', 'step', 'summary'],
  );
  const texts = await echoTrail(['send', 'GET', '/texts', '--pick', '$.ok'], { cwd });
  assert.deepEqual([texts.status, texts.out], [0, 'true\n']);
});

for (const keepsAlive of [false, true]) {
  test(`--to has the whole file from a server that closes behind it${keepsAlive ? ' without a word' : ''}`, async () => {
    const size = 6_000_000;
    const closing = await rawServer((_head, socket) => {
      const more = keepsAlive ? '' : 'connection: close\r\n';
      socket.write(`HTTP/1.1 200 OK\r\n${more}content-length: ${size}\r\n\r\n`);
      socket.end(Buffer.alloc(size, 'x'));
      return undefined;
    });
    const untold = await rawServer((_head, socket) => {
      socket.write('HTTP/1.1 200 OK\r\n\r\n');
      socket.end(Buffer.alloc(size, 'x'));
      return undefined;
    });
    const cwd = collectionOf({}, closing.origin);
    for (const from of [closing.origin, closing.origin, closing.origin, untold.origin]) {
      const saved = await echoTrail(['send', 'GET', `${from}/file`, '--to', 'file.bin'], { cwd });
      assert.equal(saved.status, 0, saved.err);
      assert.equal(readFileSync(join(cwd, 'file.bin')).length, size);
      assert.deepEqual(
        readdirSync(cwd).filter((name) => name.includes('.part')),
        [],
      );
    }
    await closing.close();
    await untold.close();
  });
}

test('thousands of informational responses are hints, and the response follows', async () => {
  const hints = await rawServer(
    () => `${'HTTP/1.1 103 Early Hints\r\nlink: </a>\r\n\r\n'.repeat(3000)}${responseOf('{"ok": true}')}`,
  );
  const cwd = collectionOf({}, hints.origin);
  const sent = await echoTrail(['send', 'GET', '/x', '--pick', '$.ok'], { cwd });
  assert.deepEqual([sent.status, sent.out], [0, 'true\n'], sent.err);
  await hints.close();
});

test('rows that wait for a host by the hundred make no warning of Node', async () => {
  const cwd = collection({
    'environments/sandbox.yaml': `changes: allow\nvariables: {origin: "${origin}"}\nhosts: [127.0.0.1]\npace: {at-once: 2}\n`,
    'requests/x.yaml': 'inputs: {n: {}}\nurl: ${origin}/x/{n}\n',
    'trails/all.yaml': `rows: [${Array.from({ length: 150 }, (_, index) => index).join(', ')}]\nat-once: 100\nsteps: [{send: x, give: {n: "\${value}"}}]\n`,
  });
  for (const more of [[], ['--stop-at-first-failure']]) {
    const walked = await echoTrail(['run', 'all', ...more], { cwd });
    assert.equal(walked.status, 0, walked.out);
    assert.doesNotMatch(walked.err, /Warning|listeners/);
  }
});

test('what a killed run left beside a table goes with the next', async () => {
  const cwd = collection({
    'requests/x.yaml': 'url: ${origin}/x\n',
    'trails/all.yaml': 'rows: [1]\nsteps: [{send: x}]\ntable: {to: data/out.csv, columns: {ok: $.ok}}\n',
  });
  // No process has so high a number.
  writeIn(cwd, 'data/out.csv.99999999-abcd1234.part', 'ok\n');
  writeIn(cwd, `data/out.csv.${process.pid}-abcd1234.part`, 'ok\n');
  writeIn(cwd, 'data/mine.part', 'mine\n');
  assert.equal((await echoTrail(['run', 'all'], { cwd })).status, 0);
  assert.deepEqual(readdirSync(join(cwd, 'data')).sort(), [
    'mine.part',
    'out.csv',
    `out.csv.${process.pid}-abcd1234.part`,
  ]);
});

test('the exchanges of the newest run stay, whatever the limit, and what is deleted is said', async () => {
  const cwd = collection({
    'echo-trail.yaml': 'name: test\nenvironment: sandbox\nechoes: {size: 1kB}\n',
    'requests/x.yaml': 'inputs: {n: {default: 1}}\nurl: ${origin}/x/{n}\n',
    'trails/all.yaml': 'rows: [1, 2, 3, 4, 5, 6, 7, 8]\nsteps: [{send: x, give: {n: "${value}"}}]\n',
  });
  const run = String(documentLines(await echoTrail(['run', 'all', '--json'], { cwd })).at(-1)?.run);
  const first = await echoTrail(['send', 'x'], { cwd });
  assert.equal(first.status, 0);
  const second = await echoTrail(['send', 'x'], { cwd });
  const third = await echoTrail(['send', 'x'], { cwd });
  assert.match(second.err + third.err, /deleted the echoes of the oldest command; echoes: in echo-trail\.yaml/);
  assert.equal((await echoTrail(['echo', 'show', `${run}.1`], { cwd })).status, 0, 'its summary names it');
});

test('echoes of a long log are found by their ids, and the newest are read from its end', async () => {
  const cwd = collection();
  await echoTrail(['send', 'GET', '/x'], { cwd });
  const folder = join(cwd, '.echo-trail/echoes');
  const [file = ''] = readdirSync(folder);
  const line = JSON.parse(readFileSync(join(folder, file), 'utf8')) as { id: string; sent: { url: string } };
  const run = 'zzzz';
  const lines: string[] = [];
  for (let number = 1; number <= 30_000; number += 1) {
    const own = { ...line, id: `${run}.${number}`, sent: { ...line.sent, url: `http://127.0.0.1/n${number}` } };
    // What left before others ended was written down before them.
    if (number % 1000 === 7) lines.push(JSON.stringify({ ...own, received: undefined, unfinished: true }));
    else lines.push(JSON.stringify(own));
    if (number % 1000 === 500) lines.push(JSON.stringify({ ...own, id: `${run}.${number - 493}` }));
  }
  writeFileSync(join(folder, `20261130T100000Z-${run}.jsonl`), `${lines.join('\n')}\n{"id":"${run}.30001","at`);
  const shown = async (id: string): Promise<{ id: string; unfinished?: boolean; sent: { url: string } }> =>
    document(await echoTrail(['echo', 'show', id, '--json'], { cwd }));
  for (const number of [1, 2, 499, 15_000, 15_001, 29_999, 30_000]) {
    const found = await shown(`${run}.${number}`);
    assert.deepEqual([found.id, found.sent.url], [`${run}.${number}`, `http://127.0.0.1/n${number}`]);
  }
  for (const number of [7, 15_007, 29_007]) assert.equal((await shown(`${run}.${number}`)).unfinished, undefined);
  assert.equal((await echoTrail(['echo', 'show', `${run}.30002`], { cwd })).status, 2);
  const listed = document<{ echoes: { id: string }[] }>(
    await echoTrail(['echo', 'list', '--run', run, '--limit', '3', '--json'], { cwd }),
  );
  assert.deepEqual(
    listed.echoes.map(({ id }) => id),
    [`${run}.30000`, `${run}.29999`, `${run}.29998`],
  );
});
