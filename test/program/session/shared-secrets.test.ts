/** `secret share | recipients | key`: secrets in version control, that recipients alone can open. */
import assert from 'node:assert/strict';
import { spawnSync } from 'node:child_process';
import { cpSync, existsSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { Decrypter, generateX25519Identity, identityToRecipient } from 'age-encryption';
import { collectionOf, everyFile, temporaryFolder, writeIn } from '../../support/folder.js';
import { document, type Ended, echoTrail } from '../../support/program.js';
import { conversation, enter, noTerminal } from '../../support/pseudo-terminal.js';
import { rawServer, responseOf } from '../../support/raw-server.js';

const server = await rawServer(() => responseOf('{}'));
const value = 'lantern-room-77';
const files = {
  '.gitignore': '.echo-trail/\n',
  'requests/it.yaml': 'url: ${origin}/it\nheaders: {X-Key: "${secret.lightKey}"}\n',
};

interface Person {
  readonly home: string;
  readonly publicKey: string;
  does(cwd: string, args: readonly string[], more?: { input?: string; env?: Record<string, string> }): Promise<Ended>;
}

async function person(): Promise<Person> {
  const home = temporaryFolder();
  const does: Person['does'] = (cwd, args, { input, env = {} } = {}) =>
    echoTrail(args, { cwd, ...(input !== undefined && { input }), env: { ECHO_TRAIL_HOME: home, ...env } });
  const made = await does(home, ['secret', 'key', 'make', '--json']);
  assert.equal(made.status, 0, made.err);
  return { home, does, publicKey: document<{ key: string }>(made).key };
}

const [ines, tomas] = [await person(), await person()];

/** A collection in which ines shares the secret with these. */
async function sharing(...recipients: readonly (readonly [string, string])[]): Promise<string> {
  const cwd = collectionOf(files, server.origin);
  for (const [name, key] of recipients)
    assert.equal((await ines.does(cwd, ['secret', 'recipients', 'add', name, key])).status, 0);
  assert.equal((await ines.does(cwd, ['secret', 'set', 'lightKey'], { input: value })).status, 0);
  const shared = await ines.does(cwd, ['secret', 'share', 'lightKey', '--json']);
  assert.equal(shared.status, 0, shared.err);
  assert.deepEqual(document(shared), {
    environment: 'sandbox',
    file: 'secrets/sandbox.age',
    names: ['lightKey'],
    recipients: recipients.map(([name]) => name),
  });
  return cwd;
}

/** As version control gives it to somebody else. */
function cloned(cwd: string): string {
  const copy = temporaryFolder();
  cpSync(cwd, copy, {
    recursive: true,
    filter: (path) => !path.includes('.echo-trail/') && !path.endsWith('.echo-trail'),
  });
  return copy;
}

const sharedFile = (cwd: string): string => join(cwd, 'secrets/sandbox.age');
const lineOf = (cwd: string, name: string): string =>
  readFileSync(sharedFile(cwd), 'utf8')
    .split('\n')
    .find((line) => line.startsWith(`${name} `)) ?? '';
const sentKeys = (): (string | undefined)[] => server.received.map((bytes) => /^x-key: (.*?)\r?$/im.exec(bytes)?.[1]);

test('what one shares another sends with, and nobody else; nothing is written decrypted', async () => {
  const cwd = cloned(await sharing(['ines', ines.publicKey], ['tomas', tomas.publicKey]));
  server.received.length = 0;
  const sent = await tomas.does(cwd, ['send', 'it']);
  assert.equal(sent.status, 0, sent.err);
  assert.deepEqual(sentKeys(), [value]);
  assert.doesNotMatch(sent.out + sent.err, /lantern-room/);
  for (const folder of [cwd, tomas.home, ines.home])
    for (const { path, text } of everyFile(folder)) assert.doesNotMatch(text, /lantern-room/, path);
  assert.equal(statSync(join(tomas.home, 'identity')).mode & 0o777, 0o600);

  const stranger = await person();
  const refused = await stranger.does(cwd, ['send', 'it']);
  assert.equal(refused.status, 4);
  assert.match(refused.err, /lightKey is not encrypted for you[\s\S]*secrets\/sandbox\.age:3[\s\S]*secret share --all/);
  const nobody = await echoTrail(['send', 'it'], { cwd, env: { ECHO_TRAIL_HOME: temporaryFolder() } });
  assert.match(nobody.err, /no identity to decrypt shared secrets with[\s\S]*secret key make/);
});

test('the order: process environment, store, shared, command', async () => {
  const cwd = await sharing(['ines', ines.publicKey]);
  const copy = cloned(cwd);
  const command = `secrets: [{collection: ${JSON.stringify(copy)}, command: [echo, from-the-command]}]\n`;
  writeFileSync(join(ines.home, 'settings.yaml'), command, { mode: 0o600 });
  server.received.length = 0;
  await ines.does(copy, ['send', 'it']);
  await ines.does(copy, ['secret', 'set', 'lightKey'], { input: 'from-the-store' });
  await ines.does(copy, ['send', 'it']);
  await ines.does(copy, ['send', 'it'], { env: { ECHO_TRAIL_SECRET_LIGHT_KEY: 'from-the-process' } });
  await ines.does(copy, ['secret', 'remove', 'lightKey']);
  assert.equal((await ines.does(copy, ['secret', 'remove', 'lightKey', '--shared'])).status, 0);
  await ines.does(copy, ['send', 'it']);
  assert.deepEqual(sentKeys(), [value, 'from-the-store', 'from-the-process', 'from-the-command']);
  writeFileSync(join(ines.home, 'settings.yaml'), '{}\n');
});

test('a line is an age file that the library of its author opens, and the program of others', async () => {
  const cwd = await sharing(['ines', ines.publicKey]);
  const bytes = Buffer.from(lineOf(cwd, 'lightKey').split(' ')[2] ?? '', 'base64');
  const identity = readFileSync(join(ines.home, 'identity'), 'utf8');
  const decrypter = new Decrypter();
  decrypter.addIdentity(identity.trim().split('\n').at(-1) ?? '');
  const content = JSON.parse(await decrypter.decrypt(bytes, 'text')) as Record<string, unknown>;
  assert.deepEqual([content.secret, content.environment, content.value], ['lightKey', 'sandbox', value]);
  const other = spawnSync('age', ['-d', '-i', join(ines.home, 'identity')], { input: bytes, encoding: 'utf8' });
  // Where that program is installed, it reads the file of the identity, too.
  if (!other.error) assert.deepEqual(JSON.parse(other.stdout), content);
});

test('a newcomer adds herself, a colleague renews; who leaves can open nothing that is shared later', async () => {
  const cwd = await sharing(['ines', ines.publicKey]);
  const added = await tomas.does(cloned(cwd), ['secret', 'recipients', 'add', 'tomas', tomas.publicKey]);
  assert.match(added.err, /not re-encrypted: lightKey of sandbox[\s\S]*secret share --all/);
  await ines.does(cwd, ['secret', 'recipients', 'add', 'tomas', tomas.publicKey]);
  const again = document<{ renewed: unknown[] }>(await ines.does(cwd, ['secret', 'share', '--all', '--json']));
  assert.deepEqual(again.renewed, [], 'adding renewed it already');
  assert.equal((await tomas.does(cloned(cwd), ['send', 'it'])).status, 0);
  const removed = await ines.does(cwd, ['secret', 'recipients', 'remove', 'tomas']);
  assert.match(removed.out, /re-encrypted for ines: lightKey of sandbox/);
  assert.match(removed.err, /tomas still knows lightKey of sandbox: replace it at the vendor/);
  assert.equal((await tomas.does(cloned(cwd), ['send', 'it'])).status, 4);
  const list = await ines.does(cwd, ['secret', 'list', '--json']);
  assert.deepEqual(document<{ shared: unknown }>(list).shared, [
    { name: 'lightKey', environment: 'sandbox', recipients: ['ines'] },
  ]);
});

test('a shared secret goes nowhere but where whoever shared it saw it go', async () => {
  const cwd = cloned(await sharing(['ines', ines.publicKey]));
  server.received.length = 0;
  writeIn(
    cwd,
    'environments/sandbox.yaml',
    `hosts: ["127.0.0.1:*", "elsewhere.example"]\nvariables: {origin: "${server.origin}"}\n`,
  );
  const held = await ines.does(cwd, ['send', 'it']);
  assert.equal(held.status, 4);
  assert.match(held.err, /has changed since it was shared[\s\S]*elsewhere\.example[\s\S]*secret share lightKey/);
  assert.equal(server.received.length, 0);
});

test('two people add secrets at the same time, and version control merges both', async () => {
  const cwd = await sharing(['ines', ines.publicKey]);
  const git = (folder: string, ...args: readonly string[]): void => {
    const { status, stderr } = spawnSync(
      'git',
      ['-c', 'user.name=x', '-c', 'user.email=x@larkhaven.example', ...args],
      {
        cwd: folder,
        encoding: 'utf8',
      },
    );
    assert.equal(status, 0, `git ${args.join(' ')}: ${stderr}`);
  };
  git(cwd, 'init', '-q');
  git(cwd, 'add', '-A');
  git(cwd, 'commit', '-qm', 'one');
  const copy = join(temporaryFolder(), 'copy');
  git(cwd, 'clone', '-q', cwd, copy);
  for (const [folder, name] of [
    [cwd, 'markKey'],
    [copy, 'nightKey'],
  ] as const) {
    await ines.does(folder, ['secret', 'set', name], { input: `${name}-value` });
    await ines.does(folder, ['secret', 'share', name]);
    // Both renew this one, too.
    await ines.does(folder, ['secret', 'set', 'lightKey'], { input: `light-of-${name}` });
    await ines.does(folder, ['secret', 'share', 'lightKey']);
    git(folder, 'commit', '-qam', name);
  }
  git(cwd, 'pull', '-q', '--no-rebase', '--no-edit', copy, 'HEAD');
  const list = document<{ shared: { name: string }[] }>(await ines.does(cwd, ['secret', 'list', '--json']));
  assert.deepEqual(
    list.shared.map(({ name }) => name),
    ['lightKey', 'lightKey', 'markKey', 'nightKey'],
  );
  assert.match((await ines.does(cwd, ['check'])).out, /lightKey is shared twice; the latest one is used/);
  server.received.length = 0;
  assert.equal((await ines.does(cloned(cwd), ['send', 'it'])).status, 0);
  assert.deepEqual(sentKeys(), ['light-of-nightKey']);
  await ines.does(cwd, ['secret', 'share', '--all']);
  assert.equal(readFileSync(sharedFile(cwd), 'utf8').match(/^lightKey /gm)?.length, 1);
  assert.equal((await ines.does(cloned(cwd), ['send', 'it'])).status, 0);
  assert.equal(sentKeys().at(-1), 'light-of-nightKey');
});

test('broken, foreign and swapped lines: told with their place, and nothing is lost', async () => {
  const cwd = await sharing(['ines', ines.publicKey]);
  await ines.does(cwd, ['secret', 'set', 'markKey'], { input: 'mark-value-9' });
  await ines.does(cwd, ['secret', 'share', 'markKey']);
  const good = readFileSync(sharedFile(cwd), 'utf8');
  const light = lineOf(cwd, 'lightKey');
  const sealed = light.split(' ')[2] ?? '';
  const changed = Buffer.from(sealed, 'base64');
  changed[changed.length - 1] = (changed[changed.length - 1] ?? 0) ^ 1;
  for (const [what, line, expected] of [
    ['cut off', light.slice(0, -41), /this line is not a shared secret[\s\S]*sandbox\.age:3/],
    [
      'changed',
      light.replace(sealed, changed.toString('base64')),
      /lightKey cannot be decrypted[\s\S]*cut off or changed/,
    ],
    ['of another name', lineOf(cwd, 'markKey').replace('markKey', 'lightKey'), /was shared as markKey/],
    ['not encrypted', 'lightKey: in the open', /this line is not a shared secret/],
  ] as const) {
    writeFileSync(sharedFile(cwd), good.replace(light, line));
    const copy = cloned(cwd);
    const ended = await ines.does(copy, ['send', 'it']);
    assert.equal(ended.status, 4, what);
    assert.match(ended.err, expected, what);
    const before = readFileSync(sharedFile(copy), 'utf8');
    const renewed = await ines.does(copy, ['secret', 'recipients', 'add', 'tomas', tomas.publicKey]);
    assert.match(renewed.err, /not re-encrypted|not a shared secret/, what);
    if (line.startsWith('lightKey:') || what === 'cut off') {
      assert.match(
        (await ines.does(copy, ['check'])).out,
        /secrets\/sandbox\.age:3[\s\S]*this line is not a shared secret/,
      );
      assert.equal(readFileSync(sharedFile(copy), 'utf8'), before, what);
    } else assert.equal(lineOf(copy, 'lightKey'), line, what);
  }
});

test('check: who cannot open what, what nobody shares, and keys that are none', async () => {
  const cwd = await sharing(['ines', ines.publicKey]);
  writeIn(cwd, 'requests/other.yaml', 'url: ${origin}/o\nheaders: {X-Mark: "${secret.markKey}"}\n');
  const manifest = readFileSync(join(cwd, 'echo-trail.yaml'), 'utf8');
  writeFileSync(
    join(cwd, 'echo-trail.yaml'),
    manifest.replace(/recipients:\n/, `recipients:\n  tomas: ${tomas.publicKey}\n  bo: age1broken\n`),
  );
  writeIn(cwd, 'secrets/notes.txt', await generateX25519Identity());
  const { status, out } = await ines.does(cwd, ['check']);
  assert.equal(status, 2);
  for (const what of [
    /echo-trail\.yaml:\d+:\d+ +error +the key of the recipient bo is invalid/,
    /secrets\/sandbox\.age:3 +warning +(?:tomas, bo|bo, tomas) cannot decrypt lightKey/,
    /requests\/other\.yaml +warning +the secret markKey is used but not shared/,
    /secrets\/notes\.txt:1:1 +error +a private key of age is in a shared file/,
  ])
    assert.match(out, what);
  const packed = await ines.does(cwd, ['export', 'collection', 'all.zip', '--json']);
  assert.match(document<{ left: string[] }>(packed).left.join('\n'), /^secrets\/: what is shared there/m);
});

test('a machine has its identity in the process environment', async () => {
  const privateKey = await generateX25519Identity();
  const cwd = cloned(await sharing(['ines', ines.publicKey], ['ci', await identityToRecipient(privateKey)]));
  const env = { ECHO_TRAIL_HOME: temporaryFolder(), ECHO_TRAIL_IDENTITY: privateKey };
  const sent = await echoTrail(['send', 'it'], { cwd, env });
  assert.equal(sent.status, 0, sent.err);
  assert.equal(
    (await echoTrail(['secret', 'key', 'show'], { cwd, env })).out.trim(),
    await identityToRecipient(privateKey),
  );
  const wrong = await echoTrail(['send', 'it'], { cwd, env: { ...env, ECHO_TRAIL_IDENTITY: `${privateKey}X` } });
  assert.equal(wrong.status, 4);
  assert.match(wrong.err, /ECHO_TRAIL_IDENTITY is not an age private key/);
  assert.doesNotMatch(wrong.err, /AGE-SECRET-KEY-1[0-9A-Z]{5}/);
});

test('an identity with a pass phrase is asked for it, and refused with a wrong one', { skip: noTerminal }, async () => {
  const home = temporaryFolder();
  const env = { ECHO_TRAIL_HOME: home };
  const made = await conversation(
    ['secret', 'key', 'make', '--pass-phrase'],
    home,
    [
      ['pass phrase, or Enter', `kelp and rope${enter}`],
      ['repeat the pass phrase', `kelp and rope${enter}`],
    ],
    env,
  );
  assert.equal(made.status, 0, made.screen);
  assert.match(readFileSync(join(home, 'identity'), 'utf8'), /^-----BEGIN AGE ENCRYPTED FILE-----/);
  const { out } = await echoTrail(['secret', 'key', 'show'], { cwd: home, env });
  const cwd = cloned(await sharing(['ines', ines.publicKey], ['bo', out.trim()]));
  const question = 'pass phrase of your identity';
  const sent = await conversation(['send', 'it'], cwd, [[question, `kelp and rope${enter}`]], env);
  assert.equal(sent.status, 0, sent.screen);
  const wrong = await conversation(['send', 'it'], cwd, [[question, `rope${enter}`]], env);
  assert.equal(wrong.status, 4);
  assert.match(wrong.screen, /the pass phrase is wrong/);
  const silent = await echoTrail(['send', 'it'], { cwd, env });
  assert.match(silent.err, /needs a pass phrase, and there is no interactive terminal/);
});

for (const [args, expected] of [
  [['secret', 'share', 'lightKey'], /the collection has no recipients/],
  [['secret', 'recipients', 'add', 'a b', 'age1x'], /cannot be the name of a recipient/],
  [['secret', 'recipients', 'add', 'bo', 'age1x'], /age1x is not a complete age public key/],
  [['secret', 'recipients', 'add', 'bo', 'ssh-ed25519 AAAA'], /SSH keys are not supported/],
  [['secret', 'recipients', 'add', 'bo', 'AGE-SECRET-KEY-1ABCD'], /that is a private key/],
  [['secret', 'recipients', 'remove', 'bo'], /there is no recipient bo/],
  [['secret', 'key', 'make'], /you already have an identity/],
] as const)
  test(`${args.join(' ')} is refused`, async () => {
    const cwd = collectionOf(files, server.origin);
    const ended = await ines.does(cwd, args);
    assert.ok([2, 4].includes(ended.status), ended.out);
    assert.match(ended.err, expected);
    assert.equal(existsSync(join(cwd, 'secrets')), false);
  });
