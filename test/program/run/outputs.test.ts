/** Outputs that nobody takes any more, and what ends a program politely: the work goes to its end, or is taken back. */
import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { createServer } from 'node:http';
import { after, test } from 'node:test';
import { collectionOf } from '../../support/folder.js';
import { echoTrail, program, userFolder } from '../../support/program.js';
import { conversation, noTerminal } from '../../support/pseudo-terminal.js';

const calls: string[] = [];
let onCall: ((call: string) => void) | undefined;
const server = createServer((request, response) => {
  const call = `${request.method} ${request.url}`;
  calls.push(call);
  onCall?.(call);
  request.resume().on('end', () => {
    if (request.url === '/events') {
      response.setHeader('content-type', 'text/event-stream');
      const timer = setInterval(() => response.write('data: tide\n\n'), 5);
      response.on('close', () => clearInterval(timer));
    } else if (request.url === '/silent') return;
    else if (request.url === '/slow') setTimeout(() => response.end('{}'), 400);
    else
      response
        .writeHead(request.url === '/bad' ? 500 : 201, { 'content-type': 'application/json' })
        .end('{"id": "one"}');
  });
});
await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
const origin = `http://127.0.0.1:${(server.address() as { port: number }).port}`;
after(() => {
  server.closeAllConnections();
  server.close();
});

const collection = (): string =>
  collectionOf(
    {
      'requests/make.yaml': 'method: POST\nurl: ${origin}/things\nkeep: {id: $.id}\n',
      'requests/drop.yaml':
        'inputs: {id: {}}\nmethod: DELETE\nurl: ${origin}/things/{id}\nexpect: {status: {under: 300}}\n',
      'requests/bad.yaml': 'url: ${origin}/bad\n',
      'requests/look.yaml': 'url: ${origin}/look\n',
      'requests/silent.yaml': 'url: ${origin}/silent\n',
      'trails/fails.yaml':
        'steps:\n  - {send: make, undo: {send: drop}}\n  - {send: look}\n  - {send: look}\n  - {send: bad}\n',
      'trails/waits.yaml': 'steps:\n  - {send: make, undo: {send: drop}}\n  - {send: silent}\n',
    },
    origin,
  );

/** The program in a shell, which says with which status it ended. */
function inShell(cwd: string, text: string): Promise<{ readonly out: string; readonly err: string }> {
  const command = text.replaceAll('ECHO', `"${process.execPath}" "${program}"`);
  const env = { PATH: process.env.PATH, HOME: userFolder, ECHO_TRAIL_HOME: userFolder };
  return new Promise((resolve) => {
    // Not at once: the server is in this process.
    void import('node:child_process').then(({ execFile }) =>
      execFile('bash', ['-c', command], { cwd, env, encoding: 'utf8' }, (_error, out, err) => resolve({ out, err })),
    );
  });
}

const hasShell = spawnSync('bash', ['-c', 'true']).status === 0;

for (const more of ['', ' --json']) {
  test(`a run whose reader has gone walks on, takes back what it made, and fails${more}`, {
    skip: !hasShell,
  }, async () => {
    calls.length = 0;
    const { out, err } = await inShell(
      collection(),
      `ECHO run fails${more} | head -1; echo "status \${PIPESTATUS[0]}"`,
    );
    assert.match(out, /status 1\n$/, err);
    assert.deepEqual(calls, ['POST /things', 'GET /look', 'GET /look', 'GET /bad', 'DELETE /things/one']);
  });
}

test('nobody reads standard error: the run has its own status', { skip: !hasShell }, async () => {
  const { out } = await inShell(collection(), 'ECHO run fails 2> >(exec 0<&-; sleep 0) > /dev/null; echo "status $?"');
  assert.match(out, /status 1\n$/);
});

test('a full disk behind standard output is told, and what was done is done', { skip: !hasShell }, async () => {
  calls.length = 0;
  const { out, err } = await inShell(collection(), 'ECHO run look > /dev/full; echo "status $?"');
  assert.match(out, /status 2\n$/);
  assert.match(err, /cannot write to standard output\ncause +ENOSPC/);
  assert.doesNotMatch(err, /at .*\.cjs/);
  assert.deepEqual(calls, ['GET /look']);
});

test('what has no end of its own ends with its reader', { skip: !hasShell }, async () => {
  const cwd = collection();
  const live = await inShell(cwd, 'ECHO send GET /events --live | head -1');
  assert.match(live.out, /data: tide/);
  const again = await inShell(cwd, 'ECHO run look --every 10ms | head -1');
  assert.match(again.out, /look/);
});

for (const signal of ['SIGHUP', 'SIGQUIT', 'SIGTERM'] as const) {
  test(`${signal} ends a run as Ctrl-C does: what it made is taken back`, async () => {
    calls.length = 0;
    const ended = await echoTrail(['run', 'waits'], {
      cwd: collection(),
      meanwhile: (child) => {
        onCall = (call) => {
          if (call === 'GET /silent') child.kill(signal);
        };
      },
    });
    onCall = undefined;
    assert.equal(ended.status, 130, ended.err);
    assert.deepEqual(calls, ['POST /things', 'GET /silent', 'DELETE /things/one']);
  });
}

test('a CI server that has a terminal gets plain lines', { skip: noTerminal }, async () => {
  const cwd = collectionOf(
    {
      'requests/slow.yaml': 'url: ${origin}/slow\n',
      'trails/slow.yaml': 'rows: [{a: 1}, {a: 2}, {a: 3}]\nsteps: [{send: slow}]\n',
    },
    origin,
  );
  const progress = /\d a second/;
  assert.match((await conversation(['run', 'slow'], cwd, [])).screen, progress);
  const plain = await conversation(['run', 'slow'], cwd, [], { CI: 'true' });
  assert.doesNotMatch(plain.screen, progress);
  assert.match(plain.screen, /slow: passed/);
});
