/** Starting: version, help, wrong usage, `init`, and the documentation commands. */
import assert from 'node:assert/strict';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { stages } from '../../../src/cli/commands/table.js';
import { collectionOf, demoCollection, temporaryFolder } from '../../support/folder.js';
import { document, echoTrail, projectFolder } from '../../support/program.js';
import { harbourForThisFile } from '../../support/standin.js';

const standin = await harbourForThisFile();
const { version } = JSON.parse(readFileSync(join(projectFolder, 'package.json'), 'utf8')) as { version: string };

test('--version and --help response, and help names every command under its stage', async () => {
  assert.deepEqual(await echoTrail(['--version']), { status: 0, out: `echo-trail ${version}\n`, err: '' });
  const { out, status } = await echoTrail(['--help']);
  assert.equal(status, 0);
  for (const { heading, commands } of stages) {
    assert.ok(out.includes(`${heading}:`), heading);
    // Long ones go on in a further line.
    for (const { name, summary } of commands)
      assert.ok(out.replace(/\s+/g, ' ').includes(` ${name} ${summary} `), name);
  }
  assert.equal((await echoTrail([])).out, out);
});

test('every command has help with examples', async () => {
  for (const words of [
    ['docs', 'show'],
    ['send'],
    ['run'],
    ['env', 'show'],
    ['secret', 'set'],
    ['session', 'open'],
    ['echo', 'list'],
    ['preview'],
    ['check'],
    ['draft'],
    ['init'],
    ['demo'],
  ]) {
    const { out, status } = await echoTrail([...words, '--help']);
    assert.equal(status, 0, words.join(' '));
    assert.match(out, /Examples:\n {2}echo-trail /, words.join(' '));
  }
});

const wrong: readonly (readonly [args: readonly string[], says: RegExp])[] = [
  [['sned'], /unknown command 'sned'[\s\S]*did you mean send\?/],
  [['send'], /missing required argument/],
  [['send', 'x', '--pik', '$'], /unknown option '--pik'[\s\S]*--pick/],
  [['docs', 'shwo'], /unknown command 'shwo'/],
  [['list', '--set', 'x'], /no collection here/],
];
for (const [args, says] of wrong) {
  test(`echo-trail ${args.join(' ')} is wrong usage: status 2, no stack trace`, async () => {
    const { status, out, err } = await echoTrail(args, { cwd: temporaryFolder() });
    assert.equal(status, 2);
    assert.equal(out, '');
    assert.match(err, says);
    assert.doesNotMatch(err, /^\s+at .*\(/m);
  });
}

test('init makes a collection that checks well, and overwrites nothing', async () => {
  const folder = join(temporaryFolder(), 'harbour-agent');
  const made = await echoTrail(['init', folder, '--json']);
  assert.deepEqual(document(made).files, ['echo-trail.yaml', 'environments/sandbox.yaml', '.gitignore']);
  assert.match(readFileSync(join(folder, '.gitignore'), 'utf8'), /^\.echo-trail\/$/m);
  assert.match(readFileSync(join(folder, 'echo-trail.yaml'), 'utf8'), /name: "harbour-agent"/);
  assert.equal((await echoTrail(['check'], { cwd: folder })).status, 0);
  writeFileSync(join(folder, 'echo-trail.yaml'), 'name: mine\n');
  const again = await echoTrail(['init', folder]);
  assert.equal(again.status, 2);
  assert.match(again.err, /already/);
  assert.equal(readFileSync(join(folder, 'echo-trail.yaml'), 'utf8'), 'name: mine\n');
});

test('docs add keeps a snapshot, docs list and find and show read it, draft writes a request that checks well', async () => {
  const cwd = collectionOf({}, standin.origin);
  const added = await echoTrail(['docs', 'add', `${standin.origin}/openapi.yaml`, '--name', 'harbour', '--json'], {
    cwd,
  });
  assert.deepEqual([added.status, document(added).operations, document(added).format], [0, 14, 'OpenAPI']);
  assert.ok(existsSync(join(cwd, 'docs/harbour.yaml')));
  assert.match(readFileSync(join(cwd, 'echo-trail.yaml'), 'utf8'), /harbour:/);

  const twice = await echoTrail(['docs', 'add', `${standin.origin}/openapi.json`, '--name', 'harbour'], { cwd });
  assert.equal(twice.status, 2);
  assert.match(twice.err, /--replace/);
  assert.equal(
    (await echoTrail(['docs', 'add', `${standin.origin}/openapi.json`, '--name', 'harbour', '--replace'], { cwd }))
      .status,
    0,
  );

  const listed = document<{ sources: { name: string; operations: number }[] }>(
    await echoTrail(['docs', 'list', '--json'], { cwd }),
  );
  assert.deepEqual(
    listed.sources.map(({ name, operations }) => [name, operations]),
    [['harbour', 14]],
  );
  const found = await echoTrail(['docs', 'find', 'book', 'call'], { cwd });
  assert.match(found.out, /^harbour\/bookCall +POST \/v1\/vessels\/\{imo\}\/calls/);
  const nothing = await echoTrail(['docs', 'find', 'submarine'], { cwd });
  assert.deepEqual([nothing.status, /nothing documented/.test(nothing.err)], [2, true]);

  const shown = (await echoTrail(['docs', 'show', 'bookCall'], { cwd })).out;
  for (const part of [
    /required/,
    /1 to 14/,
    /grain \| timber \| mixed/,
    /"berth": "N1"/,
    /409 {2}The berth is taken/,
    /deskToken: HTTP bearer/,
    /echo-trail draft harbour\/bookCall/,
    /header Location/,
  ]) {
    assert.match(shown, part);
  }
  const unknown = await echoTrail(['docs', 'show', 'bokCall'], { cwd });
  assert.equal(unknown.status, 2);
  assert.match(unknown.err, /did you mean bookCall/);

  const drafted = await echoTrail(['draft', 'harbour/bookCall', '--json'], { cwd });
  assert.equal(document(drafted).file, 'requests/calls/book-call.yaml');
  assert.ok(existsSync(join(cwd, '.echo-trail/schemas/request.json')));
  const checked = await echoTrail(['check'], { cwd });
  assert.equal(checked.status, 0, checked.out);
  const overwriting = await echoTrail(['draft', 'harbour/bookCall'], { cwd });
  assert.equal(overwriting.status, 2);
  assert.match(overwriting.err, /--as/);
});

test('a recursive document is read, shown and drafted', async () => {
  const cwd = collectionOf({
    'in/lights.json': JSON.stringify({
      openapi: '3.1.0',
      info: { title: 'Lights' },
      components: {
        schemas: {
          Light: {
            type: 'object',
            required: ['name'],
            properties: {
              name: { type: 'string' },
              next: { $ref: '#/components/schemas/Light' },
              all: { type: 'array', items: { $ref: '#/components/schemas/Light' } },
            },
          },
        },
      },
      paths: {
        '/lights': {
          post: {
            operationId: 'addLight',
            requestBody: { content: { 'application/json': { schema: { $ref: '#/components/schemas/Light' } } } },
            responses: {},
          },
        },
      },
    }),
  });
  assert.equal((await echoTrail(['docs', 'add', 'in/lights.json'], { cwd })).status, 0);
  assert.match((await echoTrail(['docs', 'show', 'addLight'], { cwd })).out, /next +object +\(a Light again\)/);
  assert.equal((await echoTrail(['draft', 'lights/addLight'], { cwd })).status, 0);
  assert.equal((await echoTrail(['check'], { cwd })).status, 0);
});

test('an index that is missing or stale is made anew from the snapshot', async () => {
  const cwd = demoCollection(standin.origin);
  assert.match((await echoTrail(['docs', 'show', 'amendCall'], { cwd })).out, /PATCH/);
  const snapshot = join(cwd, 'docs/harbour.yaml');
  writeFileSync(snapshot, readFileSync(snapshot, 'utf8').replaceAll('amendCall', 'changeCall'));
  assert.match((await echoTrail(['docs', 'show', 'changeCall'], { cwd })).out, /PATCH/);
});

test('the snapshot in the demo collection is what the stand-in serves', async () => {
  const served = await (await fetch(`${standin.origin}/openapi.yaml`)).text();
  const kept = readFileSync(join(projectFolder, 'demo/harbour-agent/docs/harbour.yaml'), 'utf8');
  assert.equal(kept, served.replaceAll(standin.origin, 'http://127.0.0.1:4810'));
});
