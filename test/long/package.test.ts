/** The package installs into an empty folder and runs there; the demo runs to its end; the core is importable. */
import assert from 'node:assert/strict';
import { execFileSync } from 'node:child_process';
import { mkdirSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { temporaryFolder } from '../support/folder.js';
import { echoTrail, projectFolder, userFolder } from '../support/program.js';

test('npm pack gives a tarball that installs into an empty folder and runs', () => {
  const folder = temporaryFolder();
  const npm = (args: readonly string[], cwd: string): string =>
    execFileSync('npm', [...args], { cwd, encoding: 'utf8', stdio: ['ignore', 'pipe', 'pipe'] });
  // The tests run on a build already; packing must not replace it under them.
  npm(['pack', '--ignore-scripts', '--pack-destination', folder], projectFolder);
  const [tarball = ''] = readdirSync(folder);
  const place = join(folder, 'empty');
  mkdirSync(place);
  writeFileSync(join(place, 'package.json'), '{"name": "place", "private": true, "type": "module"}');
  npm(['install', '--no-audit', '--no-fund', '--prefer-offline', join(folder, tarball)], place);
  const run = (...args: string[]): string =>
    execFileSync(process.execPath, [join(place, 'node_modules/.bin/echo-trail'), ...args], {
      cwd: place,
      encoding: 'utf8',
      env: { PATH: process.env.PATH, ECHO_TRAIL_HOME: userFolder },
    });
  assert.match(run('--version'), /^echo-trail \d/);
  assert.match(run('init', 'harbour-agent'), /made a collection/);
  assert.match(run('check', '--collection', 'harbour-agent'), /all well/);
  assert.ok(readdirSync(join(place, 'harbour-agent/.echo-trail/schemas')).includes('request.json'));
  writeFileSync(
    join(place, 'use.js'),
    "import { compileJsonPath } from 'echo-trail/core';\nconsole.log(compileJsonPath('$.a', []).select({ a: 7 })[0]);\n",
  );
  assert.equal(execFileSync(process.execPath, ['use.js'], { cwd: place, encoding: 'utf8' }), '7\n');
  writeFileSync(
    join(place, 'typed.ts'),
    "import { openCollection, Problem, type Summary } from 'echo-trail/core';\nexport const names: readonly string[] = openCollection('.').names('request');\nexport const well = (summary: Summary): boolean => summary.ok;\nexport const code: string = new Problem('usage', { what: 'x' }).code;\n// @ts-expect-error the code of a problem is one of the table\nnew Problem('no-such-code', { what: 'x' });\n",
  );
  const tsc = join(projectFolder, 'node_modules/typescript/bin/tsc');
  const compilerOptions = {
    strict: true,
    noEmit: true,
    skipLibCheck: true,
    module: 'nodenext',
    target: 'es2022',
    types: [],
  };
  writeFileSync(join(place, 'tsconfig.json'), JSON.stringify({ compilerOptions, files: ['typed.ts'] }));
  execFileSync(process.execPath, [tsc, '-p', '.'], { cwd: place, encoding: 'utf8' });
});

test('the demo walks the whole path and says where to go on', async () => {
  const { status, out, err } = await echoTrail(['demo']);
  assert.equal(status, 0, out + err);
  for (const part of [
    'harbour/bookCall',
    'wrote requests/berths/show.yaml',
    'berth-stay: all well',
    'berth-stay: failed',
    'undone',
    '1 undone',
    'harvest   100 of 100',
    '7 deviations',
    'Your turn',
    'echo-trail run register-check',
    'all well',
  ]) {
    assert.ok(out.includes(part), `${part} is in\n${out}`);
  }
  assert.ok(!(out + err).includes('tidewater-42'));
});

test('demo serve says its address, its faces and its credentials, and ends with Ctrl-C', async () => {
  const { status, out } = await echoTrail(['demo', 'serve', '--port', '0', '--json'], {
    meanwhile: (child) => {
      child.stdout?.once('data', () => child.kill('SIGINT'));
    },
  });
  assert.equal(status, 0);
  const { origin, faces, credentials } = JSON.parse(out) as {
    origin: string;
    faces: { name: string }[];
    credentials: object;
  };
  assert.match(origin, /^http:\/\/127\.0\.0\.1:\d+$/);
  assert.deepEqual(
    [faces.map(({ name }) => name), Object.keys(credentials)],
    [
      [
        ...['harbour', 'documentation', 'pilots', 'customs', '', 'older', 'tides'],
        ...[
          'notices',
          'chart',
          'visitors',
          'uploads',
          'vault',
          'passes',
          '',
          'gateway',
          'filing',
          'pilotage',
          'locks',
          'plans',
          'board',
          'logbook',
          'lights',
          'dredging',
          'triage',
          'mirror',
          'broken',
          'controllers',
          'secure',
          '',
          '',
          '',
          '',
          '',
        ],
      ],
      ['user', 'password'],
    ],
  );
});
