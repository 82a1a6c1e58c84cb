/** `env make`: origins offered from the documentation; and `docs ask`: what the API itself says of its parameters. */
import assert from 'node:assert/strict';
import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { collectionOf, demoCollection } from '../../support/folder.js';
import { document, echoTrail } from '../../support/program.js';
import { conversation, down, enter, noTerminal } from '../../support/pseudo-terminal.js';
import { harbourForThisFile } from '../../support/standin.js';

const { origin } = await harbourForThisFile();

const servers = {
  openapi: '3.1.0',
  info: { title: 'Quays', version: '1' },
  servers: [
    { url: 'https://quays.example/v2', description: 'the quays' },
    {
      url: 'https://{side}.quays.example:{port}/v2',
      description: 'by side',
      variables: { side: { default: 'north', enum: ['north', 'south'] }, port: { default: '8443' } },
    },
  ],
  paths: { '/flags': { get: { operationId: 'listFlags', responses: {} } } },
};

async function withServers(): Promise<string> {
  const cwd = collectionOf({ 'quays.json': JSON.stringify(servers) });
  const added = await echoTrail(['docs', 'add', 'quays.json'], { cwd });
  assert.equal(added.status, 0, added.err);
  return cwd;
}

test('several servers are listed, and one is taken by its number, its variables by --set', async () => {
  const cwd = await withServers();
  const several = await echoTrail(['env', 'make', 'live'], { cwd });
  assert.equal(several.status, 2);
  assert.match(several.err, /1 {2}https:\/\/quays\.example {2}quays, the quays/);
  assert.match(several.err, /2 {2}https:\/\/\{side\}\.quays\.example:\{port\}\/v2 .*side: north, south; port: any/);
  const made = await echoTrail(['env', 'make', 'live', '--server', '2', '--set', 'side=south', '--json'], { cwd });
  assert.deepEqual(document(made), {
    name: 'live',
    file: 'environments/live.yaml',
    origin: 'https://south.quays.example:8443',
  });
  const text = readFileSync(join(cwd, 'environments/live.yaml'), 'utf8');
  assert.match(text, /^about: "by side"$/m);
  assert.match(text, /^changes: ask/m);
  assert.match(text, /^hosts: \["south\.quays\.example:8443"\]/m);
  const checked = await echoTrail(['check'], { cwd });
  assert.equal(checked.status, 0, checked.out);
});

test('the first server is taken for the drafts, so that origin and path fit', async () => {
  const cwd = await withServers();
  await echoTrail(['env', 'make', 'live', '--server', '1'], { cwd });
  await echoTrail(['draft', 'listFlags', '--as', 'flags'], { cwd });
  const { out } = await echoTrail(['preview', 'flags', '--env', 'live'], { cwd });
  assert.match(out, /GET https:\/\/quays\.example\/v2\/flags/);
});

test('a variable in the path of the server is one of the environment, and drafts ask for it', async () => {
  const stages = {
    ...servers,
    servers: [
      {
        url: 'https://quays.example/{stage}/v2/',
        variables: { stage: { default: 'trial', enum: ['trial', 'live'] } },
      },
    ],
  };
  const cwd = collectionOf({ 'quays.json': JSON.stringify(stages) });
  assert.doesNotMatch((await echoTrail(['docs', 'add', 'quays.json'], { cwd })).err, /warning/);
  const made = await echoTrail(['env', 'make', 'live', '--set', 'stage=live'], { cwd });
  assert.equal(made.status, 0, made.err);
  assert.match(readFileSync(join(cwd, 'environments/live.yaml'), 'utf8'), /^ {2}stage: "live"$/m);
  await echoTrail(['draft', 'listFlags', '--as', 'flags'], { cwd });
  assert.equal((await echoTrail(['check'], { cwd })).status, 0);
  const shown = async (...args: string[]): Promise<string> =>
    (await echoTrail(['preview', 'flags', ...args], { cwd })).out;
  assert.match(await shown('--env', 'live'), /GET https:\/\/quays\.example\/live\/v2\/flags/);
  assert.match(await shown(), /GET http:\/\/127\.0\.0\.1:9\/trial\/v2\/flags/);
  for (const name of ['/{stage}/v2/flags', '/flags'])
    assert.match((await echoTrail(['docs', 'show', 'GET', name], { cwd })).out, /listFlags/);
});

for (const [args, wrong] of [
  [['--server', '3'], /no server 3/],
  [['--server', 'x'], /no server x/],
  [['--server', '2', '--set', 'side=west'], /side of .* cannot be west[\s\S]*north, south/],
  [['--server', '1', '--set', 'side=north'], /has no variable side/],
  [['--origin', 'quays.example'], /not an origin/],
  [['--origin', 'https://quays.example/v2'], /not an origin/],
  [['--origin', 'https://quays.example', '--server', '1'], /--origin stands alone/],
] as const) {
  test(`env make live ${args.join(' ')} is refused, and nothing is written`, async () => {
    const cwd = await withServers();
    const { status, err } = await echoTrail(['env', 'make', 'live', ...args], { cwd });
    assert.equal(status, 2, err);
    assert.match(err, wrong);
    assert.equal(existsSync(join(cwd, 'environments/live.yaml')), false);
  });
}

test('an environment that is there is not overwritten; a name that leaves the folder is refused', async () => {
  const cwd = collectionOf({});
  const again = await echoTrail(['env', 'make', 'sandbox', '--origin', 'https://a.example'], { cwd });
  assert.equal(again.status, 2);
  assert.match(again.err, /there is an environment sandbox already/);
  assert.match(
    (await echoTrail(['env', 'make', '../x', '--origin', 'https://a.example'], { cwd })).err,
    /cannot be the name/,
  );
  assert.match((await echoTrail(['env', 'make', 'x'], { cwd })).err, /names no server/);
});

test('at a terminal the server and its variables are chosen', { skip: noTerminal }, async () => {
  const cwd = await withServers();
  const { screen, status } = await conversation(['env', 'make', 'live'], cwd, [
    ['which server?', `${down}${enter}`],
    ['side of', `${down}${enter}`],
  ]);
  assert.equal(status, 0, screen);
  assert.match(
    readFileSync(join(cwd, 'environments/live.yaml'), 'utf8'),
    /origin: https:\/\/south\.quays\.example:8443/,
  );
});

const withPassword = { DESK: 'tidewater-42' };

async function asking(): Promise<string> {
  const cwd = demoCollection(origin);
  rmSync(join(cwd, 'docs/harbour.asked.json'));
  const set = await echoTrail(['secret', 'set', 'deskPassword'], { cwd, input: `${withPassword.DESK}\n` });
  assert.equal(set.status, 0, set.err);
  return cwd;
}

test('docs ask keeps what the API says; docs show, check and send use it', async () => {
  const cwd = await asking();
  const search = join(cwd, 'requests/vessels/search.yaml');
  const good = readFileSync(search, 'utf8');
  writeFileSync(search, good.replace('lengthM above', 'lengthM over'));
  assert.match((await echoTrail(['check'], { cwd })).out, /no findings/, 'nothing is known before it was asked');

  const { parameters } = document<{ parameters: { operators: string[]; changed: boolean }[] }>(
    await echoTrail(['docs', 'ask', '--json'], { cwd }),
  );
  assert.deepEqual(parameters[0]?.operators, ['is', 'isnt', 'above', 'below', 'has']);
  const shown = document<{ operation: { parameters: { name: string; from: string }[] } }>(
    await echoTrail(['docs', 'show', 'searchRegister', '--json'], { cwd }),
  );
  assert.match(shown.operation.parameters[0]?.from ?? '', /^asked by vessels\/terms, \d{4}-\d\d-\d\d$/);
  const checked = await echoTrail(['check'], { cwd });
  assert.match(checked.out, /search\.yaml:9:10 {2}warning {2}query where has no documented operator/);
  const strict = await echoTrail(['send', 'vessels/search', '--strict'], { cwd });
  assert.match(strict.err, /no documented operator in "lengthM over 80"/);

  writeFileSync(search, good);
  assert.match((await echoTrail(['check'], { cwd })).out, /no findings/);
  const sent = await echoTrail(['send', 'vessels/search', '--strict', '--set', 'flag=Ostrand'], { cwd });
  assert.equal(sent.status, 0, sent.err);
});

test('what was asked for stays in the manifest when the documentation is put in again', async () => {
  const cwd = await asking();
  await echoTrail(['docs', 'add', `${origin}/openapi.yaml`, '--name', 'harbour', '--replace'], { cwd });
  assert.match(readFileSync(join(cwd, 'echo-trail.yaml'), 'utf8'), /searchRegister\.where/);
});

for (const [from, to, wrong] of [
  ['from: vessels/terms', 'from: vessels/trems', /no request vessels\/trems[\s\S]*vessels\/terms/],
  ['$.operators[*].word', '$.operators[*].werd', /no list of texts at \$\.operators\[\*\]\.werd/],
  ['searchRegister.where', 'searchRegister.what', /no parameter what[\s\S]*where/],
  ['searchRegister.where', 'serchRegister.where', /describes no operation serchRegister/],
] as const) {
  test(`docs ask with ${to} says what is wrong`, async () => {
    const cwd = await asking();
    const manifest = join(cwd, 'echo-trail.yaml');
    writeFileSync(manifest, readFileSync(manifest, 'utf8').replace(from, to));
    const { status, err } = await echoTrail(['docs', 'ask'], { cwd });
    assert.notEqual(status, 0);
    assert.match(err, wrong);
    assert.equal(existsSync(join(cwd, 'docs/harbour.asked.json')), false);
  });
}

test('the manifest is read again when it changed, though lookups remember its sources', async () => {
  const cwd = await withServers();
  assert.match((await echoTrail(['docs', 'list'], { cwd })).out, /quays/);
  const manifest = join(cwd, 'echo-trail.yaml');
  writeFileSync(manifest, readFileSync(manifest, 'utf8').replace('quays:', 'piers:'));
  assert.match((await echoTrail(['docs', 'list'], { cwd })).out, /piers/);
  writeFileSync(manifest, 'name: [');
  const broken = await echoTrail(['docs', 'list'], { cwd });
  assert.equal(broken.status, 2);
  assert.match(broken.err, /echo-trail\.yaml:/);
});
