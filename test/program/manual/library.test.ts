/** The programs of docs/library.md, as somebody who copies them runs them: against the demo, with the built library. */
import assert from 'node:assert/strict';
import { execFile } from 'node:child_process';
import { mkdirSync, readFileSync, symlinkSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { promisify } from 'node:util';
import { demoCollection, temporaryFolder } from '../../support/folder.js';
import { projectFolder } from '../../support/program.js';
import { harbourForThisFile } from '../../support/standin.js';

const { origin } = await harbourForThisFile();

const page = readFileSync(join(projectFolder, 'docs/library.md'), 'utf8');
const programs = new Map(
  [...page.matchAll(/```js\n\/\/ (\S+)\n([\s\S]*?)```/g)].map(([, name = '', text = '']) => [name, text] as const),
);

async function ran(name: string, more: NodeJS.ProcessEnv = {}): Promise<string> {
  const folder = temporaryFolder();
  symlinkSync(demoCollection(origin), join(folder, 'harbour-agent'));
  mkdirSync(join(folder, 'node_modules'));
  symlinkSync(projectFolder, join(folder, 'node_modules/echo-trail'));
  writeFileSync(join(folder, name), programs.get(name) ?? assert.fail(`${name} is not on the page`));
  const { stdout } = await promisify(execFile)(process.execPath, [name], {
    cwd: folder,
    env: { ...process.env, ECHO_TRAIL_SECRET_DESK_PASSWORD: 'tidewater-42', ...more },
  });
  return stdout;
}

test('a program sends one request', async () => {
  assert.match(await ran('send.mjs'), /^200 0\n\{"imo":"9000017",/);
});

test('a program walks a trail, and its own reporter is told of each step', async () => {
  const lines = (await ran('walk.mjs')).trimEnd().split('\n');
  assert.equal(lines.length, 9, lines.join('\n'));
  assert.match(lines[0] ?? '', /^ok vessels\/show \w{4}\.\d+$/);
  assert.equal(lines.at(-1), 'well 8 steps');
});

test('what keeps a program from sending is a problem with its cause and remedy', async () => {
  await assert.rejects(
    ran('send.mjs', { ECHO_TRAIL_SECRET_DESK_PASSWORD: undefined }),
    (error: { stderr?: string }) => {
      assert.match(error.stderr ?? '', /code: 'secret-missing'/);
      assert.match(error.stderr ?? '', /remedy: 'set the secret deskPassword, or/);
      return true;
    },
  );
});

test('a program reads documentation', async () => {
  const lines = (await ran('read.mjs')).trimEnd().split('\n');
  assert.match(lines[0] ?? '', /^Larkhaven Harbour\b.* OpenAPI \d+ 0$/);
  assert.equal(lines.length, 4);
});

test('every program of the page is run here', () => {
  assert.deepEqual([...programs.keys()].sort(), ['read.mjs', 'send.mjs', 'walk.mjs']);
});
