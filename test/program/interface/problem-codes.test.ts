/** Codes that programs go by: each from a command that somebody might type, with the exit status of its family. */
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { test } from 'node:test';
import { collectionOf, temporaryFolder } from '../../support/folder.js';
import { echoTrail } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';

const plain = { 'requests/x.yaml': 'url: ${origin}/\n' };
const openapi =
  '{"openapi": "3.1.0", "info": {"title": "Harbour", "version": "1"}, "paths": {"/a": {"get": {"operationId": "getA", "responses": {"200": {"description": "it"}}}}}}';
const documented = {
  'api.json': openapi,
  'echo-trail.yaml': 'name: test\nenvironment: sandbox\ndocs: {a: {file: api.json}}\n',
};

interface Case {
  readonly files?: Readonly<Record<string, string>>;
  readonly args: readonly string[];
  readonly env?: Readonly<Record<string, string>>;
  readonly status: number;
}

const cases: Readonly<Record<string, Case>> = {
  'file-not-found': { args: ['docs', 'add', 'none.yaml'], status: 2 },
  'file-exists': { files: { ...documented, ...plain }, args: ['draft', 'a/getA', '--as', 'x'], status: 2 },
  'file-outside': {
    files: { 'requests/x.yaml': 'method: POST\nurl: ${origin}/\nbody: {file: ../x.txt}\n' },
    args: ['send', 'x'],
    status: 2,
  },
  'file-unreadable': {
    files: { 'requests/x.yaml': 'method: POST\nurl: ${origin}/\nbody: {file: data}\n', 'data/a.txt': 'a' },
    args: ['send', 'x'],
    status: 2,
  },
  'name-ambiguous': {
    files: { 'requests/a/x.yaml': 'url: ${origin}/\n', 'requests/b/x.yaml': 'url: ${origin}/\n' },
    args: ['send', 'x'],
    status: 2,
  },
  'name-not-found': { files: plain, args: ['send', 'y'], status: 2 },
  'input-missing': {
    files: { 'requests/x.yaml': 'inputs: {imo: {}}\nurl: ${origin}/{imo}\n' },
    args: ['send', 'x'],
    status: 2,
  },
  'matcher-shape': {
    files: { 'requests/x.yaml': 'url: ${origin}/\nexpect: {$.a: {ovr: 2}}\n' },
    args: ['send', 'x'],
    status: 2,
  },
  'document-unreadable': { files: { 'notes.yaml': 'a: 1\n' }, args: ['docs', 'add', 'notes.yaml'], status: 2 },
  'operation-not-found': { files: documented, args: ['docs', 'show', 'a/none'], status: 2 },
  'not-documented': {
    files: { ...documented, 'requests/x.yaml': 'operation: a/getA\nurl: ${origin}/a\nquery: {b: 1}\n' },
    args: ['send', 'x', '--strict'],
    status: 2,
  },
  'echo-not-found': { args: ['echo', 'show', 'zzzz.1'], status: 2 },
  'environment-missing': { files: plain, args: ['send', 'x', '--env', 'none'], status: 4 },
  'session-missing': {
    files: { 'requests/x.yaml': 'url: ${origin}/\nsession: desk\n' },
    args: ['send', 'x'],
    status: 4,
  },
  'secret-held-back': {
    files: { 'requests/x.yaml': 'url: ${origin}/\nheaders: {X-Key: "${secret.key}"}\n' },
    args: ['send', 'x'],
    env: { ECHO_TRAIL_SECRET_KEY: 'tidewater-42', ECHO_TRAIL_SECRET_HOSTS: 'harbour.example' },
    status: 4,
  },
  'change-unconfirmed': {
    files: {
      'requests/x.yaml': 'method: POST\nurl: ${origin}/\n',
      'environments/sandbox.yaml': 'changes: ask\nvariables: {origin: "http://127.0.0.1:9"}\nhosts: [127.0.0.1]\n',
    },
    args: ['send', 'x'],
    status: 4,
  },
};

test('operation-not-found: where no operation is described at all, that is said', async () => {
  const cwd = collectionOf({ ...documented, 'api.json': openapi.replace(/"paths": .*$/, '"paths": {}}') });
  const ended = await echoTrail(['docs', 'show', 'a/getA'], { cwd });
  assert.equal(ended.status, 2);
  assert.match(ended.err, /try +the documentation of this collection describes no operation/);
});

interface Told {
  readonly error: { readonly code: string; readonly what: string };
}

const codeOf = (err: string): string => (JSON.parse(err) as Told).error.code;

/** Of a code, what the reference says that it says: words in capitals stand for anything. */
function sentencesOf(code: string): RegExp[] {
  const page = readFileSync(new URL('../../../../docs/reference/errors.md', import.meta.url), 'utf8');
  const [section = ''] = page.split(`\n## ${code}\n`)[1]?.split('\n## ') ?? [];
  const rows = [...section.matchAll(/^\| (.*?[^\\]) \|/gm)]
    .map(([, what = '']) => what.replace(/\\(.)/g, '$1'))
    .slice(1);
  return rows.map((what) => {
    const parts = what.split(/\b[A-Z]{2,}(?: [A-Z]{2,})*\b/);
    return new RegExp(`^${parts.map((part) => part.replace(/[\\^$.*+?()[\]{}|]/g, '\\$&')).join('.*')}$`, 's');
  });
}

for (const [code, { files = {}, args, env = {}, status }] of Object.entries(cases)) {
  test(`${code}: ${args.join(' ')}`, async () => {
    const ended = await echoTrail([...args, '--json'], { cwd: collectionOf(files), env });
    assert.equal(codeOf(ended.err), code, ended.err);
    assert.equal(ended.status, status);
    const { what } = (JSON.parse(ended.err) as Told).error;
    assert.ok(
      sentencesOf(code).some((sentence) => sentence.test(what)),
      `docs/reference/errors.md does not say: ${what}`,
    );
  });
}

test('collection-not-found: list, where there is none', async () => {
  const ended = await echoTrail(['list', '--json'], { cwd: temporaryFolder() });
  assert.equal(codeOf(ended.err), 'collection-not-found', ended.err);
  assert.equal(ended.status, 2);
});

test('version-refused: a run against an older vendor', async () => {
  const server = await rawServer(() => responseOf('{"api": "2.10.3"}'));
  const cwd = collectionOf({
    ...plain,
    'trails/t.yaml': 'steps: [{send: x}]\n',
    'environments/sandbox.yaml': `variables: {origin: "${server.origin}"}\nhosts: [127.0.0.1]\nversion: {request: x, at: $.api, at-least: "3"}\n`,
  });
  const ended = await echoTrail(['run', 't', '--json'], { cwd });
  await server.close();
  assert.equal(codeOf(ended.err), 'version-refused', ended.err);
  assert.equal(ended.status, 4);
});

/** The codes of what went wrong with a sending, as its document has them. */
const problemsOf = (out: string): string[] =>
  (JSON.parse(out) as { problems: readonly { code: string }[] }).problems.map(({ code }) => code);

test('keep-missing: what is to be kept is not in the response', async () => {
  const server = await rawServer(() => responseOf('{"a": 1}'));
  const cwd = collectionOf({ 'requests/x.yaml': 'url: ${origin}/\nkeep: {b: $.b}\n' }, server.origin);
  const ended = await echoTrail(['send', 'x', '--json'], { cwd });
  await server.close();
  assert.deepEqual(problemsOf(ended.out), ['keep-missing'], ended.out);
  assert.equal(ended.status, 1);
});

test('connection-timeout: a host that takes the connection and never begins TLS', async () => {
  const silent = createServer((socket) => socket.on('error', () => {})).listen(0, '127.0.0.1');
  await new Promise((listening) => silent.once('listening', listening));
  const { port } = silent.address() as { port: number };
  const cwd = collectionOf(
    { 'requests/x.yaml': 'url: ${origin}/\ntimeout: {connect: 200ms}\n' },
    `https://127.0.0.1:${port}`,
  );
  const ended = await echoTrail(['send', 'x', '--json'], { cwd });
  silent.close();
  assert.deepEqual(problemsOf(ended.out), ['connection-timeout'], ended.out + ended.err);
  assert.equal(ended.status, 3);
});
