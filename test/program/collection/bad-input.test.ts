/** What bad input gets: a clear error, the right exit status, no stack trace, nothing half-written. */
import assert from 'node:assert/strict';
import { createServer } from 'node:net';
import { test } from 'node:test';
import { stripVTControlCharacters } from 'node:util';
import { collectionOf, everyFile, writeIn } from '../../support/folder.js';
import { echoTrail } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';

const { port: closedPort, close } = await new Promise<{ port: number; close: () => void }>((resolve) => {
  const server = createServer();
  server.listen(0, '127.0.0.1', () =>
    resolve({ port: (server.address() as { port: number }).port, close: () => server.close() }),
  );
});
close();

interface Bad {
  readonly name: string;
  readonly files?: Readonly<Record<string, string>>;
  readonly args: readonly string[];
  readonly status: number;
  readonly says: RegExp;
}

const cases: readonly Bad[] = [
  {
    name: 'a malformed YAML file',
    files: { 'requests/x.yaml': 'url: "${origin}\nquery: {\n' },
    args: ['send', 'x'],
    status: 2,
    says: /requests\/x\.yaml:\d+:\d+/,
  },
  {
    name: 'an unquoted ${ in braces',
    files: { 'requests/x.yaml': 'url: ${origin}/\nquery: {a: ${origin}}\n' },
    args: ['send', 'x'],
    status: 2,
    says: /x\.yaml:2:\d+[\s\S]*needs quotes/,
  },
  {
    name: 'double quotes within double quotes',
    files: { 'requests/x.yaml': 'url: ${origin}/\nquery: {a: "${b ?? "-"}", c: "${d}"}\n' },
    args: ['send', 'x'],
    status: 2,
    says: /ends at the next of them[\s\S]*x\.yaml:2:\d+[\s\S]*with single quotes/,
  },
  {
    name: 'an unquoted {',
    files: { 'requests/x.yaml': 'url: {origin}/x\n' },
    args: ['send', 'x'],
    status: 2,
    says: /begins with \{[\s\S]*quotes/,
  },
  {
    name: 'an unknown key',
    files: { 'requests/x.yaml': 'url: ${origin}/\nheadrs: {}\n' },
    args: ['preview', 'x'],
    status: 2,
    says: /headrs is not a key[\s\S]*x\.yaml:2:1[\s\S]*did you mean headers/,
  },
  {
    name: 'a wrong type',
    files: { 'requests/x.yaml': 'url: ${origin}/\nkeep: [a]\n' },
    args: ['send', 'x'],
    status: 2,
    says: /keep must be a map of names, not a list[\s\S]*x\.yaml:2:7/,
  },
  {
    name: 'a broken manifest',
    files: { 'echo-trail.yaml': 'nme: x\n' },
    args: ['list'],
    status: 2,
    says: /echo-trail\.yaml:1:1|name is missing/,
  },
  { name: 'a request that is not there', args: ['send', 'nowhere'], status: 2, says: /there is no request nowhere/ },
  {
    name: 'a file that is not there',
    files: { 'requests/x.yaml': 'url: ${origin}/\nmethod: POST\nbody: {text: "${file(\'data/no.txt\') | text}"}\n' },
    args: ['send', 'x'],
    status: 2,
    says: /data\/no\.txt does not exist/,
  },
  {
    name: 'a file outside the collection',
    files: {
      'requests/x.yaml': 'url: ${origin}/\nmethod: POST\nbody: {text: "${file(\'../../etc/hostname\') | text}"}\n',
    },
    args: ['send', 'x'],
    status: 2,
    says: /outside the collection/,
  },
  {
    name: 'rows outside the collection',
    files: { 'requests/x.yaml': 'url: ${origin}/\n', 'trails/t.yaml': 'rows: ../rows.csv\nsteps: [{send: x}]\n' },
    args: ['run', 't'],
    status: 2,
    says: /outside the collection/,
  },
  {
    name: 'a documentation file that is not there',
    args: ['docs', 'add', 'no.yaml'],
    status: 2,
    says: /no\.yaml does not exist/,
  },
  {
    name: 'a broken OpenAPI document',
    files: { 'in/h.yaml': 'openapi: 3.1.0\npaths: {\n' },
    args: ['docs', 'add', 'in/h.yaml'],
    status: 2,
    says: /not well-formed YAML[\s\S]*h\.yaml:\d+:\d+/,
  },
  {
    name: 'a document that is none',
    files: { 'in/h.json': '{"hello": 1}' },
    args: ['docs', 'add', 'in/h.json'],
    status: 2,
    says: /not a document of a known format[\s\S]*keys are hello/,
  },
  {
    name: 'documentation at a closed port',
    args: ['docs', 'add', `http://127.0.0.1:${closedPort}/openapi.yaml`],
    status: 3,
    says: /refused the connection/,
  },
  {
    name: 'an unknown operation',
    args: ['draft', 'harbour/none'],
    status: 2,
    says: /no documentation source describes/,
  },
  {
    name: 'a refused connection',
    args: ['send', 'GET', `http://127.0.0.1:${closedPort}/`],
    status: 3,
    says: /refused the connection on port[\s\S]*at {5}connecting/,
  },
  {
    name: 'a host name that does not resolve',
    args: ['send', 'GET', 'http://no-such.larkhaven.invalid/'],
    status: 3,
    says: /could not be looked up/,
  },
  {
    name: 'a name that no layer knows',
    files: { 'requests/x.yaml': 'url: ${orgin}/\n' },
    args: ['send', 'x'],
    status: 2,
    says: /name orgin is not known here[\s\S]*x\.yaml:1:6[\s\S]*searched: environment sandbox, collection variables[\s\S]*did you mean origin/,
  },
  {
    name: 'an address without http',
    args: ['send', 'GET', 'harbour.example/x'],
    status: 2,
    says: /not an absolute address[\s\S]*http/,
  },
  {
    name: 'an input of the wrong type',
    files: { 'requests/x.yaml': 'inputs: {n: {type: integer, at-most: 14}}\nurl: ${origin}/{n}\n' },
    args: ['send', 'x', '--set', 'n=two'],
    status: 2,
    says: /input n of request x cannot be "two"[\s\S]*type integer/,
  },
  {
    name: 'an input beyond its limit',
    files: { 'requests/x.yaml': 'inputs: {n: {type: integer, at-most: 14}}\nurl: ${origin}/{n}\n' },
    args: ['send', 'x', '--set', 'n=15'],
    status: 2,
    says: /cannot be "15"[\s\S]*at most 14/,
  },
  {
    name: 'a line break in a header',
    args: ['send', 'GET', '/', '--header', 'X-A: a\nb'],
    status: 2,
    says: /X-A holds a line break/,
  },
  {
    name: 'a header that is written at sending',
    args: ['send', 'GET', '/', '--header', 'Content-Length: 5'],
    status: 2,
    says: /never by hand/,
  },
  {
    name: 'an environment that is not there',
    args: ['send', 'GET', '/', '--env', 'live'],
    status: 4,
    says: /no environment live/,
  },
  {
    name: 'a session that is not there',
    args: ['send', 'GET', '/', '--session', 'agent'],
    status: 4,
    says: /no session agent/,
  },
  {
    name: 'a short name that fits several',
    files: { 'requests/a/x.yaml': 'url: ${origin}/\n', 'requests/b/x.yaml': 'url: ${origin}/\n' },
    args: ['send', 'x'],
    status: 2,
    says: /x fits several requests: a\/x, b\/x/,
  },
  {
    name: 'a place that is none, before anything is sent',
    args: ['send', 'GET', '/', '--pick', 'headr.x'],
    status: 2,
    says: /headr\.x is not a place/,
  },
];

for (const { name, files = {}, args, status, says } of cases) {
  test(`${name}: status ${status}`, async () => {
    const cwd = collectionOf(files);
    const before = everyFile(cwd).length;
    const ended = await echoTrail(args, { cwd });
    assert.equal(ended.status, status, ended.out + ended.err);
    assert.match(ended.err, says);
    assert.equal(ended.out, '');
    assert.doesNotMatch(ended.err, /^\s+at (?:.*\()?(?:file|node):/m);
    const left = everyFile(cwd).filter(({ path }) => !path.includes('/echoes/') && !path.includes('/schemas/'));
    assert.equal(left.length, before, left.map(({ path }) => path).join('\n'));
    const errorLines = ended.err.split('\n').filter((line) => /^(?:error|at|cause|try)\b/.test(line));
    assert.ok(errorLines.length >= 1 && errorLines.length <= 4, ended.err);
  });
}

const responses: readonly (readonly [
  name: string,
  response: Parameters<typeof rawServer>[0],
  says: RegExp,
  echo: RegExp,
])[] = [
  [
    'a reply that is not the JSON it claims to be',
    () => responseOf('<html>busy</html>'),
    /says application\/json, but is not JSON[\s\S]*begins with "<html>busy/,
    /<html>busy<\/html>/,
  ],
  [
    'a reply cut short',
    (_head, socket) =>
      void socket.end('HTTP/1.1 200 OK\r\ncontent-type: text/plain\r\ncontent-length: 99\r\n\r\nthe first half'),
    /cut short: 14 bytes came of 99 announced/,
    /the first half/,
  ],
  ['a reply that is not HTTP', () => 'hello\r\n\r\n', /not HTTP/, /trouble/],
  ['a reply that never comes', () => undefined, /no complete response within/, /trouble/],
];
for (const [name, response, says, recorded] of responses) {
  test(`${name}: status 3, and what did arrive is in the echo`, async () => {
    const server = await rawServer(response);
    const cwd = collectionOf(
      {
        'requests/x.yaml': `url: \${origin}/\ntimeout: {total: ${name.includes('never') ? '500ms' : '60s'}}\nexpect: {status: 200}\n`,
      },
      server.origin,
    );
    const ended = await echoTrail(['send', 'x'], { cwd });
    assert.equal(ended.status, 3, ended.err);
    assert.match(ended.err, says);
    assert.match((await echoTrail(['echo', 'show'], { cwd })).out, recorded);
    await server.close();
  });
}

test('with --json an error is a document on standard error', async () => {
  const cwd = collectionOf({ 'requests/x.yaml': 'url: ${orgin}/\n' });
  const { err, status } = await echoTrail(['send', 'x', '--json'], { cwd });
  assert.equal(status, 2);
  const { error } = JSON.parse(err) as { error: { code: string; where: object; remedy: string } };
  assert.deepEqual(
    [error.code, error.where, error.remedy],
    ['unknown-name', { file: 'requests/x.yaml', line: 1, column: 6 }, 'did you mean origin?'],
  );
});

test('with colours an error is as readable as without', async () => {
  const cwd = collectionOf({ 'requests/x.yaml': 'url: ${orgin}/\n' });
  const { err } = await echoTrail(['send', 'x'], { cwd, env: { FORCE_COLOR: '1' } });
  assert.ok(err.includes('\u001b[31m'), 'it is coloured');
  assert.doesNotMatch(err, /\\u001b/);
  assert.match(
    stripVTControlCharacters(err),
    /^error {2}the name orgin is not known here\nat {5}requests\/x\.yaml:1:6\n/,
  );
});

test('an option may be spelled in another way, or as it was called before', async () => {
  const cwd = collectionOf({ 'requests/x.yaml': 'url: ${orgin}/\n' });
  const plainly = await echoTrail(['send', 'x', '--no-color'], { cwd, env: { FORCE_COLOR: '1' } });
  assert.ok(plainly.err.startsWith('error  the name orgin'), plainly.err);
  const few = await echoTrail(['echo', 'list', '--most=none'], { cwd });
  assert.match(few.err, /--limit takes a whole number/);
  const word = await echoTrail(['echo', 'list', '--', '--most'], { cwd });
  assert.doesNotMatch(word.err, /--limit/);
});

test('a symbolic link does not lead out of the collection', async () => {
  const { symlinkSync } = await import('node:fs');
  const cwd = collectionOf({
    'requests/x.yaml': 'url: ${origin}/\nmethod: POST\nbody: {text: "${file(\'data/link\') | text}"}\n',
  });
  writeIn(cwd, 'data/other.txt', 'x');
  symlinkSync('/etc/hostname', `${cwd}/data/link`);
  const { err, status } = await echoTrail(['send', 'x'], { cwd });
  assert.equal(status, 2);
  assert.match(err, /outside the collection/);
});
