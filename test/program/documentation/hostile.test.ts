/** Hostile input through the built program: clear errors, no stack trace, no hang; Ctrl-C is heard wherever it works. */
import assert from 'node:assert/strict';
import { existsSync, mkdirSync, symlinkSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { collectionOf, everyFile, temporaryFolder, writeIn } from '../../support/folder.js';
import { echoTrail } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';

const server = await rawServer((head) =>
  responseOf(head.includes('/long') ? `{"a": "${'a'.repeat(60)}!"}` : '{"a": [1]}'),
);
test.after(() => server.close());

const brackets = `\${${'('.repeat(20_000)}a${')'.repeat(20_000)}}`;
const filters = `\${a${' | trim'.repeat(20_000)}}`;

interface Attack {
  readonly what: string;
  readonly files?: Readonly<Record<string, string>>;
  readonly args: readonly string[];
  readonly status?: number;
  readonly says?: RegExp;
}

const attacks: readonly Attack[] = [
  {
    what: 'a tag for code',
    files: { 'requests/a.yaml': 'url: !!js/function "x"\n' },
    args: ['send', 'a'],
    says: /a tag \(!!js\/function\) is not allowed/,
  },
  {
    what: 'a tag for bytes',
    files: { 'requests/a.yaml': 'url: /a\nabout: !!binary aGk=\n' },
    args: ['send', 'a'],
    says: /a tag \(!!binary\) is not allowed/,
  },
  {
    what: 'a parameter named constructor',
    args: ['send', 'GET', '/a', '--query', 'constructor=2', '--query', '__proto__=3', '--header', 'toString: x'],
    status: 0,
  },
  {
    what: 'a secret named constructor',
    files: { 'requests/a.yaml': 'url: ${origin}/a\nheaders: {X-A: "${secret.constructor}"}\n' },
    args: ['send', 'a'],
    status: 4,
    says: /the secret constructor is not set/,
  },
  {
    what: 'made-up data of a kind that is code',
    files: { 'requests/a.yaml': 'url: ${origin}/a\nquery: {a: "${made-up(\\"constructor\\")}"}\n' },
    args: ['send', 'a'],
    says: /no made-up constructor/,
  },
  {
    what: 'an XPath that is cut off',
    files: { 'requests/a.yaml': 'url: ${origin}/a\nexpect: {"//a[": 1}\n' },
    args: ['send', 'a'],
    says: /\/\/a\[ is not an XPath/,
  },
  {
    what: 'a text of two thousand million letters',
    files: { 'requests/a.yaml': 'url: ${origin}/a\nquery: {a: "${\'a\' | pad(2000000000)}"}\n' },
    args: ['send', 'a'],
    says: /pad fills up to 10000 characters/,
  },
  {
    what: '20,000 brackets',
    files: { 'requests/a.yaml': `url: \${origin}/a\nquery: {a: "${brackets}"}\n` },
    args: ['send', 'a'],
    says: /nested 200 deep at most/,
  },
  {
    what: '20,000 filters',
    files: { 'requests/a.yaml': `url: \${origin}/a\nquery: {a: "${filters}"}\n` },
    args: ['send', 'a'],
    says: /200 filters at most/,
  },
  {
    what: 'a place with 20,000 brackets',
    files: {
      'requests/a.yaml': `url: \${origin}/a\nexpect: {"$[?${'('.repeat(20_000)}@.a${')'.repeat(20_000)}]": 1}\n`,
    },
    args: ['send', 'a'],
    says: /nested/,
  },
  {
    what: 'a file in the place of a collection',
    args: ['--collection', 'echo-trail.yaml', 'list'],
    says: /is a file, and a collection is a folder/,
  },
  {
    what: 'a table in the local state',
    files: {
      'requests/a.yaml': 'url: ${origin}/a\n',
      'trails/t.yaml':
        'rows: [{a: 1}]\nsteps: [{send: a}]\ntable: {columns: {a: "${row.a}"}, to: .echo-trail/secrets.csv}\n',
    },
    args: ['run', 't'],
    says: /is hidden, or lies in a hidden folder/,
  },
  {
    what: 'a table among the hooks of version control',
    files: {
      'requests/a.yaml': 'url: ${origin}/a\n',
      'trails/t.yaml':
        'rows: [{a: 1}]\nsteps: [{send: a}]\ntable: {columns: {a: "${row.a}"}, to: .git/hooks/pre-commit.csv}\n',
    },
    args: ['run', 't'],
    says: /is hidden, or lies in a hidden folder/,
  },
];

for (const { what, files = {}, args, status = 2, says } of attacks) {
  test(`${what} is met with words`, async () => {
    const cwd = collectionOf({ 'requests/sound.yaml': 'url: ${origin}/a\n', ...files }, server.origin);
    const ended = await echoTrail(args, { cwd });
    assert.equal(ended.status, status, ended.err.slice(0, 2000));
    assert.doesNotMatch(ended.err + ended.out, /^\s+at .*\.[cm]?js:\d+|\bfault\b|\bundefined\b/m);
    if (says) assert.match(ended.err + ended.out, says);
    assert.ok(ended.err.length < 5000, 'what is wrong is told shortly');
  });
}

test('a link inside the local state is not followed', async () => {
  for (const inner of ['echoes/bodies', 'runs', 'indexes/a']) {
    const cwd = collectionOf({ 'requests/a.yaml': 'url: ${origin}/long\n' }, server.origin);
    const outside = temporaryFolder();
    mkdirSync(join(cwd, '.echo-trail', inner, '..'), { recursive: true });
    symlinkSync(outside, join(cwd, '.echo-trail', inner));
    const { status, err } = await echoTrail(['send', 'a'], { cwd });
    assert.equal(status, 2, inner);
    assert.match(err, /lies outside the collection folder/);
    assert.equal(everyFile(outside).length, 0);
  }
});

test('a record that a stranger brings does not read a file of the user', async () => {
  const cwd = collectionOf({ 'requests/a.yaml': 'url: ${origin}/a\n' }, server.origin);
  const outside = temporaryFolder();
  writeIn(outside, 'private', 'of-the-user-alone');
  await echoTrail(['send', 'a'], { cwd });
  const folder = join(cwd, '.echo-trail/echoes');
  mkdirSync(join(folder, 'bodies/zzzz'), { recursive: true });
  symlinkSync(join(outside, 'private'), join(folder, 'bodies/zzzz/1-received'));
  writeIn(
    folder,
    '20990101T000000Z-zzzz.jsonl',
    `${JSON.stringify({ id: 'zzzz.1', at: '2099-01-01T00:00:00Z', environment: 'sandbox', sent: { method: 'GET', url: 'http://a', headers: [] }, received: { status: 200, reason: '', headers: [], body: { text: '', encoding: 'utf-8', size: 9, cut: true, file: 'bodies/zzzz/1-received' } }, met: 0 })}\n`,
  );
  assert.ok(existsSync(join(folder, 'bodies/zzzz/1-received')));
  const shown = await echoTrail(['echo', 'show', 'zzzz.1', '--body'], { cwd });
  assert.doesNotMatch(shown.out + shown.err, /of-the-user-alone/);
});

test('a pattern that backtracks for ever is matched in time, or told', async () => {
  const cwd = collectionOf(
    {
      'requests/a.yaml': 'url: ${origin}/long\nexpect: {$.a: {schema: {type: string, pattern: "^(a+)+$"}}}\n',
      'requests/b.yaml': 'url: ${origin}/long\nexpect: {$.a: {schema: {type: string, pattern: "^(?=a)(a+)+$"}}}\n',
    },
    server.origin,
  );
  assert.equal((await echoTrail(['send', 'a'], { cwd })).status, 1);
  const { status, err } = await echoTrail(['send', 'b'], { cwd });
  assert.ok([1, 2].includes(status), err);
  assert.match(err, /took more than 250 ms/);
});

for (const [what, steps] of [
  ['a range without an end', '[{for-each: {range: [1, 1000000000000]}, as: n, steps: [{keep: {a: "${n}"}}]}]'],
  [
    'one inside another',
    '[{for-each: {range: [1, 1000000]}, as: n, steps: [{for-each: {range: [1, 1000000]}, as: m, steps: [{keep: {a: "${m}"}}]}]}]',
  ],
] as const) {
  test(`Ctrl-C ends ${what}, which takes no memory`, async () => {
    const cwd = collectionOf({ 'trails/t.yaml': `steps: ${steps}\n` }, server.origin);
    const { status, err } = await echoTrail(['run', 't', '--json'], {
      cwd,
      // It is at it.
      meanwhile: (child) => child.stdout?.once('data', () => child.kill('SIGINT')),
    });
    assert.equal(status, 130, err);
  });
}
