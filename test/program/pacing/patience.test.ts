/** Crowded, restless and lossy hosts: what is sent again, what never is, and how all that is sent to a host waits. */
import assert from 'node:assert/strict';
import { createServer, type IncomingMessage, type ServerResponse } from 'node:http';
import { after, test } from 'node:test';
import { collectionOf, demoCollection, everyFile } from '../../support/folder.js';
import { documentLines, type Ended, echoTrail } from '../../support/program.js';
import { harbourForThisFile } from '../../support/standin.js';

const standin = await harbourForThisFile();

interface Summary {
  readonly ok: boolean;
  readonly throttled: number;
  readonly triedAgain: number;
  readonly waited: number;
  readonly inDoubt: readonly string[];
  readonly rows: { readonly ok: number; readonly failed: number } | null;
}
const summaryOf = (ended: Ended): Summary => documentLines(ended).at(-1) as unknown as Summary;

interface Asked {
  readonly method: string;
  readonly path: string;
  readonly key: string | undefined;
}

async function vendor(
  reply: (asked: Asked, count: number, response: ServerResponse, request: IncomingMessage) => void,
): Promise<{ origin: string; asked: Asked[] }> {
  const asked: Asked[] = [];
  const counts = new Map<string, number>();
  const server = createServer((request, response) => {
    const { method = '', url = '' } = request;
    const one = { method, path: url, key: request.headers['idempotency-key'] as string };
    asked.push(one);
    const count = (counts.get(`${method} ${url}`) ?? 0) + 1;
    counts.set(`${method} ${url}`, count);
    request.resume().on('end', () => reply(one, count, response, request));
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  after(() => {
    server.closeAllConnections();
    server.close();
  });
  const address = server.address();
  return { asked, origin: `http://127.0.0.1:${typeof address === 'object' && address ? address.port : 0}` };
}

const say = (response: ServerResponse, status: number, headers: Record<string, string> = {}, body = '{}'): void =>
  void response.writeHead(status, { 'content-type': 'application/json', ...headers }).end(body);

/** How long a walk waited for a host, why, and whether that said so. */
const waitsOf = (ended: Ended): unknown[] =>
  documentLines(ended)
    .filter(({ event }) => event === 'waiting')
    .map(({ wait, why, told }) => [wait, why, told]);

const retry = '{wait: 10ms, tries: 4, ceiling: 2s}';

interface Case {
  readonly name: string;
  readonly request: string;
  /** The status of each response in turn; 0 drops the connection. */
  readonly statuses: readonly number[];
  readonly headers?: Record<string, string>;
  readonly body?: string;
  readonly tries: number;
  readonly status: number;
  readonly doubts?: number;
}

const cases: readonly Case[] = [
  { name: '429 of a GET', request: '', statuses: [429, 429, 200], tries: 3, status: 0 },
  { name: '429 of a POST', request: 'method: POST\n', statuses: [429, 201], tries: 2, status: 0 },
  { name: '503 of a GET', request: '', statuses: [503, 200], tries: 2, status: 0 },
  {
    name: '503 of a POST, which may have happened',
    request: 'method: POST\n',
    statuses: [503, 201],
    tries: 1,
    status: 1,
  },
  { name: '503 of a PUT, which is idempotent', request: 'method: PUT\n', statuses: [503, 200], tries: 2, status: 0 },
  { name: '503 of a DELETE', request: 'method: DELETE\n', statuses: [503, 204], tries: 2, status: 0 },
  {
    name: '503 of a POST with a key',
    request: 'method: POST\nidempotency-key: true\n',
    statuses: [503, 201],
    tries: 2,
    status: 0,
  },
  {
    name: '503 of a POST that changes nothing',
    request: 'method: POST\nchanges: false\n',
    statuses: [503, 200],
    tries: 2,
    status: 0,
  },
  { name: 'a lost GET', request: '', statuses: [0, 0, 200], tries: 3, status: 0 },
  {
    name: 'a lost POST, which is in doubt',
    request: 'method: POST\n',
    statuses: [0, 201],
    tries: 1,
    status: 3,
    doubts: 1,
  },
  {
    name: 'a lost POST with a key',
    request: 'method: POST\nidempotency-key: true\n',
    statuses: [0, 201],
    tries: 2,
    status: 0,
  },
  { name: 'a status that is expected', request: 'expect: {status: 503}\n', statuses: [503, 200], tries: 1, status: 0 },
  {
    name: 'a class that is expected',
    request: 'expect: {status: {one-of: [2xx, 4xx]}}\n',
    statuses: [429, 200],
    tries: 1,
    status: 0,
  },
  { name: '500, which nobody named', request: '', statuses: [500, 200], tries: 1, status: 1 },
  { name: 'refused until the tries are spent', request: '', statuses: [429, 429, 429, 429, 200], tries: 4, status: 1 },
  {
    name: 'a wait beyond the ceiling',
    request: '',
    statuses: [429, 200],
    headers: { 'retry-after': '3600' },
    tries: 1,
    status: 1,
  },
  { name: 'no retry', request: 'retry: none\n', statuses: [429, 200], tries: 1, status: 1 },
];
test('what is sent again, and what never is, by status, method, key and what is expected', async () => {
  const { origin, asked } = await vendor((one, count, response, incoming) => {
    const { statuses, headers = {} } = cases[Number(one.path.slice(2))] as Case;
    const reply = statuses[count - 1] as number;
    if (reply === 0) incoming.socket.destroy();
    else say(response, reply, reply === 429 || reply === 503 ? headers : {}, reply === 204 ? '' : '{}');
  });
  const files = Object.fromEntries(
    cases.map(({ request }, at) => [`requests/r${at}.yaml`, `url: \${origin}/r${at}\n${request}`]),
  );
  const cwd = collectionOf({
    ...files,
    'environments/sandbox.yaml': `changes: allow\nvariables: {origin: "${origin}"}\nhosts: [127.0.0.1]\nretry: ${retry}\n`,
  });
  const ended = await echoTrail(['run', ...cases.map((_, at) => `r${at}`), '--json'], { cwd });
  assert.equal(ended.status, 3, ended.err);
  const summaries = documentLines(ended).filter(({ event }) => event === 'summary') as unknown as Summary[];
  const echoes = everyFile(cwd).filter(({ path }) => path.includes('/echoes/'))[0]?.text ?? '';
  for (const [at, { name, tries, status, doubts = 0 }] of cases.entries()) {
    const own = asked.filter(({ path }) => path === `/r${at}`);
    assert.equal(own.length, tries, name);
    assert.equal(summaries[at]?.ok, status === 0, name);
    assert.equal(summaries[at]?.inDoubt.length, doubts, name);
    assert.equal(new Set(own.map(({ key }) => key)).size, 1, `${name}: all tries carry the same key`);
    const lines = echoes.split('\n').filter((line) => line.includes(`"request":"r${at}"`));
    assert.equal(
      new Set(lines.map((line) => line.slice(0, line.indexOf(',')))).size,
      tries,
      `${name}: each try has an echo`,
    );
  }
});

test('why it was not retried is said', async () => {
  const { origin } = await vendor((_asked, _count, response) => say(response, 429, { 'retry-after': '3600' }));
  const cwd = collectionOf({ 'requests/r.yaml': `url: \${origin}/r\nretry: ${retry}\n` }, origin);
  assert.match((await echoTrail(['run', 'r'], { cwd })).out, /asks to wait 60 min, and retry waits 2\.00 s at most/);
  const busy = await vendor((_asked, _count, response) => say(response, 429));
  const spent = collectionOf({ 'requests/r.yaml': `url: \${origin}/r\nretry: ${retry}\n` }, busy.origin);
  assert.match(
    (await echoTrail(['run', 'r'], { cwd: spent })).out,
    /tried 4 times in [\d.]+ m?s, as often as retry allows/,
  );
  const short = collectionOf(
    { 'requests/r.yaml': 'url: ${origin}/r\nretry: {wait: 200ms, growth: 1, within: 300ms, tries: 50}\n' },
    busy.origin,
  );
  assert.match((await echoTrail(['run', 'r'], { cwd: short })).out, /another try would take longer than retry allows/);
});

test('by default, run and send wait only for a server that says how long; retry: none sends once', async () => {
  const told = await vendor((_asked, count, response) =>
    count === 1 ? say(response, 429, { 'retry-after': '1' }) : say(response, 200),
  );
  const files = { 'requests/r.yaml': 'url: ${origin}/r\n' };
  const waited = await echoTrail(['run', 'r', '--json'], { cwd: collectionOf(files, told.origin) });
  assert.deepEqual([waited.status, waitsOf(waited)], [0, [[1000, 'status 429', true]]]);
  const silent = await vendor((_asked, count, response) => say(response, count === 1 ? 429 : 200));
  assert.equal((await echoTrail(['run', 'r'], { cwd: collectionOf(files, silent.origin) })).status, 1);
  const sent = await vendor((_asked, count, response) =>
    count === 1 ? say(response, 429, { 'retry-after': '1' }) : say(response, 200),
  );
  const cwd = collectionOf(files, sent.origin);
  assert.equal((await echoTrail(['send', 'r'], { cwd })).status, 0);
  assert.equal(sent.asked.length, 2);
  const once = await vendor((_asked, _count, response) => say(response, 503, { 'retry-after': '1' }));
  const none = collectionOf({ 'requests/r.yaml': 'url: ${origin}/r\nretry: none\n' }, once.origin);
  assert.equal((await echoTrail(['send', 'r'], { cwd: none })).status, 1);
  assert.equal(once.asked.length, 1);
});

test('a body that says "too busy" is a refusal too', async () => {
  const { origin, asked } = await vendor((_asked, count, response) =>
    say(response, 200, {}, count < 3 ? '{"state": "busy"}' : '{"state": "ready"}'),
  );
  const cwd = collectionOf(
    { 'requests/r.yaml': 'url: ${origin}/r\nretry: {wait: 10ms, busy: {$.state: busy}}\nexpect: {$.state: ready}\n' },
    origin,
  );
  const ended = await echoTrail(['run', 'r', '--json'], { cwd });
  assert.equal(ended.status, 0, ended.out);
  assert.equal(asked.length, 3);
  assert.equal(summaryOf(ended).throttled, 2);
});

test('one refusal slows the whole host: nothing is sent to it while it asked for patience', async () => {
  const { origin, asked } = await vendor((one, count, response) => {
    if (one.path === '/n/5' && count === 1) say(response, 429, { 'retry-after': '1' });
    else setTimeout(() => say(response, 200), 5);
  });
  const cwd = collectionOf(
    {
      'requests/r.yaml': 'inputs: {n: {}}\nurl: ${origin}/n/{n}\n',
      'trails/t.yaml': 'steps:\n  - for-each: {range: [1, 40]}\n    as: n\n    at-once: 4\n    steps: [{send: r}]\n',
    },
    origin,
  );
  const ended = await echoTrail(['run', 't', '--json'], { cwd });
  assert.equal(ended.status, 0, ended.out);
  assert.equal(asked.length, 41);
  // Three more were under way when it was refused, and three wait with it; all others came when the host was called again.
  const refusedAt = asked.findIndex(({ path }) => path === '/n/5');
  const again = asked.findLastIndex(({ path }) => path === '/n/5');
  assert.ok(again - refusedAt <= 7, `${again - refusedAt - 1} came in between`);
  const { throttled, triedAgain } = summaryOf(ended);
  assert.deepEqual([throttled, triedAgain], [1, 1]);
  assert.deepEqual(waitsOf(ended), [[1000, 'status 429', true]]);
});

test('a pace goes ahead of refusals: so many at once, and so many a second', async () => {
  let [active, most] = [0, 0];
  const { origin, asked } = await vendor((_asked, _count, response) => {
    active += 1;
    most = Math.max(most, active);
    setTimeout(() => {
      active -= 1;
      say(response, 200);
    }, 10);
  });
  const trail = 'steps:\n  - for-each: {range: [1, 20]}\n    as: n\n    at-once: 16\n    steps: [{send: r}]\n';
  const files = (pace: string): Record<string, string> => ({
    'requests/r.yaml': 'inputs: {n: {}}\nurl: ${origin}/n/{n}\n',
    'trails/t.yaml': trail,
    'environments/sandbox.yaml': `changes: allow\nvariables: {origin: "${origin}"}\nhosts: [127.0.0.1]\npace: ${pace}\n`,
  });
  assert.equal((await echoTrail(['run', 't'], { cwd: collectionOf(files('{at-once: 3}')) })).status, 0);
  assert.equal(most, 3);
  asked.length = 0;
  // How they are spread is tried on a gate with a clock of its own.
  assert.equal((await echoTrail(['run', 't'], { cwd: collectionOf(files('{per-second: 40}')) })).status, 0);
  assert.equal(asked.length, 20);
});

test('a quota that is spent is waited for, ahead of a refusal', async () => {
  const { origin } = await vendor((_asked, count, response) =>
    say(response, 200, { ratelimit: `"q";r=${count === 1 ? 0 : 9};t=1` }),
  );
  const cwd = collectionOf(
    { 'requests/r.yaml': 'url: ${origin}/r\n', 'trails/t.yaml': 'steps: [{send: r}, {send: r}]\n' },
    origin,
  );
  const ended = await echoTrail(['run', 't', '--json'], { cwd });
  assert.equal(ended.status, 0);
  assert.deepEqual(waitsOf(ended), [[1000, 'quota spent', true]]);
  assert.equal(summaryOf(ended).throttled, 0);
});

test('a hundred notices through a crowded board, however it refuses: a hundred of a hundred', async () => {
  const ways = ['seconds', 'date', 'silent', 'limits', 'body'];
  await Promise.all(ways.map(harvested));
});

async function harvested(way: string): Promise<void> {
  const cwd = collectionOf(
    {
      'requests/notice.yaml': `inputs: {number: {}}\nurl: \${origin}/board/notices/{number}\nquery: {refusal: ${way}, caller: ${way}, quota: 25}\nretry: {wait: 300ms, growth: 1.5, ceiling: 3s, tries: 12, busy: {$.state: busy}}\nexpect: {$.number: {exists: true}}\n`,
      'trails/t.yaml':
        'steps:\n  - for-each: {range: [1, 100]}\n    as: number\n    at-once: 8\n    steps: [{send: notice}]\n    table: {columns: {n: "${number}", subject: $.subject}, to: data/n.csv}\n',
    },
    standin.origin,
  );
  const ended = await echoTrail(['run', 't', '--json'], { cwd });
  assert.equal(ended.status, 0, ended.out.slice(-2000) + ended.err);
  const { throttled, triedAgain, waited } = summaryOf(ended);
  if (way !== 'limits') assert.ok(throttled >= 1 && triedAgain >= 1, `${way}: ${throttled} throttled`);
  assert.ok(waited > 100, `${way}: waited ${waited} ms`);
  const step = documentLines(ended).find(({ kind }) => kind === 'for-each') as unknown as { members: object };
  assert.deepEqual(step.members, { ok: 100, failed: 0, passed: 0 });
}

test('the harvest of the demo says how often it was refused, and how long it waited', async () => {
  const cwd = demoCollection(standin.origin);
  const ended = await echoTrail(['run', 'notices-harvest'], { cwd });
  assert.equal(ended.status, 0, ended.out);
  assert.match(ended.out, /ok +harvest +100 of 100/);
  assert.match(ended.out, /\d+ throttled, \d+ retried, waited \d/);
  assert.match(ended.err, /waiting 127\.0\.0\.1:\d+: 1\.00 s \(status 429; as the server asks\)/);
});

test('a wait that is interrupted ends at once', async () => {
  // Much longer than any test may take.
  const { origin } = await vendor((_asked, _count, response) => say(response, 429, { 'retry-after': '3600' }));
  const cwd = collectionOf({ 'requests/r.yaml': 'url: ${origin}/r\nretry: {ceiling: 2h, within: 3h}\n' }, origin);
  const ended = await echoTrail(['run', 'r', '--json'], {
    cwd,
    meanwhile: (child) => {
      // Once: a second one stops the cleaning up, too.
      let told = false;
      child.stdout?.on('data', (text: string) => {
        if (!told && text.includes('"event":"waiting"')) told = child.kill('SIGINT');
      });
    },
  });
  assert.equal(ended.status, 130);
});

const login = {
  'sessions/desk.yaml': 'kind: login\nopen: {send: log-in}\ntoken: $.token\n',
  'requests/log-in.yaml': 'url: ${origin}/log-in\nmethod: POST\nchanges: false\nsession: none\n',
  'requests/look.yaml': 'url: ${origin}/look/{row}\ninputs: {row: {}}\nsession: desk\nexpect: {status: 200}\n',
  'trails/look.yaml': 'rows: rows.csv\nat-once: 4\nsteps: [{send: look}]\n',
  'rows.csv': 'row\n1\n2\n3\n4\n5\n6\n',
};

for (const [what, pace, busy, expired] of [
  ['a host that takes one request at once', 'pace: {at-once: 1}\n', 0, false],
  ['a host that is too busy for the log-in', '', 2, false],
  ['a session that expires meanwhile, with one request at once', 'pace: {at-once: 1}\n', 0, true],
] as const)
  test(`a session is opened for requests that wait for it: ${what}`, { timeout: 60_000 }, async () => {
    const { origin, asked } = await vendor(({ path }, count, response, request) => {
      if (path === '/log-in' && count <= busy) return say(response, 429, { 'retry-after': '0' });
      if (path === '/log-in') return say(response, 200, {}, JSON.stringify({ token: `token-of-desk-${count}` }));
      const [, number] = /-(\d)$/.exec(request.headers.authorization ?? '') ?? [];
      return say(response, expired && number === '1' && Number(path.split('/').at(-1)) > 4 ? 401 : 200);
    });
    const environment = `changes: allow\nhosts: [127.0.0.1]\n${pace}variables: {origin: "${origin}"}\n`;
    const cwd = collectionOf({ ...login, 'environments/sandbox.yaml': environment }, origin);
    const ended = await echoTrail(['run', 'look', '--json'], { cwd });
    assert.equal(ended.status, 0, ended.err + ended.out);
    assert.deepEqual(summaryOf(ended).rows, { ok: 6, failed: 0, before: 0 });
    assert.equal(asked.filter(({ path }) => path === '/log-in').length, busy + (expired ? 2 : 1));
  });
