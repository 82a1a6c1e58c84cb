/** The recipes of docs/ci.md and docs/sharing.md, run as they stand there; every command that a page shows is one of the program. */
import assert from 'node:assert/strict';
import { spawn } from 'node:child_process';
import { chmodSync, existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { validate } from 'dockerfile-utils';
import { parse } from 'yaml';
import { demoCollection, temporaryFolder } from '../support/folder.js';
import { program, projectFolder, userFolder } from '../support/program.js';
import { harbourForThisFile } from '../support/standin.js';

const harbour = await harbourForThisFile();
const page = (name: string): string => readFileSync(join(projectFolder, 'docs', name), 'utf8');
const blocks = (text: string, language: string): string[] =>
  [...text.matchAll(new RegExp(`^\`\`\`${language}\\n([\\s\\S]*?)^\`\`\``, 'gm'))].map(([, inner]) => inner as string);

const bin = temporaryFolder();
writeFileSync(join(bin, 'echo-trail'), `#!/bin/sh\nexec '${process.execPath}' '${program}' "$@"\n`);
chmodSync(join(bin, 'echo-trail'), 0o755);

const shell = (text: string, cwd: string, more: Readonly<Record<string, string>> = {}) =>
  new Promise<{ status: number | null; out: string }>((resolve, reject) => {
    const env = {
      PATH: `${bin}:${process.env.PATH}`,
      HOME: userFolder,
      ECHO_TRAIL_HOME: userFolder,
      ECHO_TRAIL_SECRET_DESK_PASSWORD: 'tidewater-42',
      CI: 'true',
      ...more,
    };
    const child = spawn('sh', ['-c', text], { cwd, env });
    let out = '';
    for (const stream of [child.stdout, child.stderr])
      stream.on('data', (piece: Buffer) => {
        out += piece.toString();
      });
    child.on('error', reject);
    child.on('close', (status) => resolve({ status, out }));
  });

test('the recipe of a plain shell checks, runs, and leaves its reports', async () => {
  const [recipe = ''] = blocks(page('ci.md'), 'sh');
  const cwd = demoCollection(harbour.origin);
  const { status, out } = await shell(recipe, cwd);
  assert.equal(status, 0, out);
  for (const file of ['check-junit.xml', 'report.html', 'junit.xml', 'run.jsonl'])
    assert.ok(existsSync(join(cwd, file)), file);
  assert.ok(!out.includes('\u001b'), out);
  const compared = await shell('echo-trail run berth-stay --quiet && echo-trail report --as markdown', cwd);
  assert.match(compared.out, /^#/m);
});

test('the files of two kinds of CI server are YAML, and each of their commands works', async () => {
  const [steps, script] = blocks(page('ci.md'), 'yaml').map((text) => parse(text) as unknown) as [
    { jobs: { harbour: { steps: { run: string }[] } } },
    { harbour: { script: string[] } },
  ];
  for (const commands of [steps.jobs.harbour.steps.map(({ run }) => run), script.harbour.script]) {
    const own = commands.filter((one) => !one.startsWith('npm '));
    assert.ok(own.length >= 2);
    const { status, out } = await shell(own.join(' && '), demoCollection(harbour.origin));
    assert.equal(status, 0, out);
  }
});

test('a server that names a file for a summary gets the report there, and a line for each failure', async () => {
  const cwd = demoCollection(harbour.origin);
  const file = join(temporaryFolder(), 'summary.md');
  writeFileSync(file, 'before\n');
  const more = { JOB_STEP_SUMMARY: file };
  const { status, out } = await shell('echo-trail run berth-stay --set new-nights=40', cwd, more);
  assert.equal(status, 1);
  const lines = readFileSync(join(cwd, 'trails/berth-stay.yaml'), 'utf8').split('\n');
  const at = lines.findIndex((line) => line.includes('stay longer'));
  assert.match(
    out,
    new RegExp(`^::error file=trails/berth-stay\\.yaml,line=${at + 1},title=berth-stay%3A stay longer::`, 'm'),
  );
  assert.match(readFileSync(file, 'utf8'), /^before\n#[\s\S]*stay longer/);
  const well = await shell('echo-trail run vessels/show', cwd, more);
  assert.doesNotMatch(well.out, /::error/);
});

test('the line of every night', async () => {
  const line = /^30 2 \* \* \*\s+cd \S+ && (.*)$/m.exec(page('ci.md'))?.[1] as string;
  const cwd = demoCollection(harbour.origin);
  const { status, out } = await shell(line, cwd);
  assert.equal(status, 0, out);
  assert.ok(existsSync(join(cwd, 'night.html')));
});

test("the first day of a colleague: what is missing is named, and nothing of another's machine is needed", async () => {
  const cwd = demoCollection(harbour.origin);
  const before = await shell('echo-trail secret list', cwd, { ECHO_TRAIL_SECRET_DESK_PASSWORD: '' });
  assert.match(before.out, /deskPassword[\s\S]*requests\/desk\/log-in\.yaml|deskPassword/);
  const listed = await shell('env -u ECHO_TRAIL_SECRET_DESK_PASSWORD echo-trail secret list --json', cwd);
  const { used } = JSON.parse(listed.out) as { used: { name: string; files: string[]; from: string }[] };
  assert.equal(used.find(({ name }) => name === 'deskPassword')?.from, 'missing');
  await shell('echo tidewater-42 | env -u ECHO_TRAIL_SECRET_DESK_PASSWORD echo-trail secret set deskPassword', cwd);
  const again = await shell('env -u ECHO_TRAIL_SECRET_DESK_PASSWORD echo-trail secret list --json', cwd);
  assert.equal(
    (JSON.parse(again.out) as { used: typeof used }).used.find(({ name }) => name === 'deskPassword')?.from,
    'store',
  );
  const [recipe = ''] = blocks(page('sharing.md'), '').filter((text) => text.includes('git clone'));
  const commands = recipe.split('\n').filter((line) => /^echo-trail (?!secret set)/.test(line));
  assert.equal(commands.length, 3);
  const { status, out } = await shell(commands.join(' && '), cwd);
  assert.equal(status, 0, out);
});

test('every command that a page of the manual shows is one of the program, with options that it has', () => {
  const outline = JSON.parse(readFileSync(join(projectFolder, 'dist/outline.json'), 'utf8')) as {
    name: string;
    options: { names: string[] }[];
    below: string[];
  }[];
  const everywhere = outline[0]?.options.flatMap(({ names }) => names) ?? [];
  const pages = readdirSync(join(projectFolder, 'docs')).filter((name) => name.endsWith('.md'));
  for (const name of pages) {
    for (const [line] of page(name).matchAll(/(?<=^|`)echo-trail [a-z][^`\n#|&;)]*/gm)) {
      const words = line.split(/\s+/).slice(1).filter(Boolean);
      const found = outline
        .filter((one) => one.name !== '' && ` ${words.join(' ')} `.startsWith(` ${one.name} `))
        .sort((a, b) => b.name.length - a.name.length)[0];
      assert.ok(found, `${name}: ${line}`);
      if (found.below.length > 0) continue;
      const known = new Set([...everywhere, '--help', ...found.options.flatMap(({ names }) => names)]);
      for (const word of words) {
        const option = /^--?[a-z][\w-]*/.exec(word)?.[0];
        if (option !== undefined) assert.ok(known.has(option), `${name}: ${line}: ${option}`);
      }
    }
  }
});

test('the Dockerfile is well-formed, has two stages, and ends as a user without rights', () => {
  const text = readFileSync(join(projectFolder, 'Dockerfile'), 'utf8');
  assert.deepEqual(validate(text), []);
  assert.equal(text.match(/^FROM /gm)?.length, 2);
  assert.match(text.slice(text.lastIndexOf('FROM')), /^USER (?!root)\w+/m);
});
