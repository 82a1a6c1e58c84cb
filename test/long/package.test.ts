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
  assert.match(run('check', '--collection', 'harbour-agent'), /no findings/);
  assert.ok(readdirSync(join(place, 'harbour-agent/.echo-trail/schemas')).includes('request.json'));
  writeFileSync(
    join(place, 'use.js'),
    "import { compileJsonPath } from 'echo-trail/core';\nconsole.log(compileJsonPath('$.a', []).select({ a: 7 })[0]);\n",
  );
  assert.equal(execFileSync(process.execPath, ['use.js'], { cwd: place, encoding: 'utf8' }), '7\n');
  // With nothing but what the package declares, as an ES module and as CommonJS, every declaration looked at.
  const typed = `import { openCollection, Problem, sendRequest, walkTrail, type SummaryRecord, type RunRecord } from 'echo-trail/core';
export const names: readonly string[] = openCollection('.').names('request');
export const well = (summary: SummaryRecord): boolean => summary.ok;
export const told = (record: RunRecord): string => (record.event === 'step' ? record.reason ?? '' : '');
export const walked: Promise<SummaryRecord> = walkTrail(...({} as Parameters<typeof walkTrail>)).then(({ summary }) => summary);
export const body = (...given: Parameters<typeof sendRequest>): Promise<Uint8Array | undefined> =>
  sendRequest(...given).then(({ outcome }) => outcome.received?.parts.body);
export const code: string = new Problem('usage', { what: 'x' }).code;
// @ts-expect-error the code of a problem is one of the table
new Problem('no-such-code', { what: 'x' });
`;
  for (const file of ['typed.ts', 'typed.cts']) writeFileSync(join(place, file), typed);
  const tsc = join(projectFolder, 'node_modules/typescript/bin/tsc');
  const compilerOptions = { strict: true, noEmit: true, skipLibCheck: false, target: 'es2022', types: [] };
  for (const module of ['node16', 'nodenext']) {
    const settings = { compilerOptions: { ...compilerOptions, module }, files: ['typed.ts', 'typed.cts'] };
    writeFileSync(join(place, 'tsconfig.json'), JSON.stringify(settings));
    execFileSync(process.execPath, [tsc, '-p', '.'], { cwd: place, encoding: 'utf8' });
  }
  writeFileSync(join(place, 'use.cjs'), "console.log(typeof require('echo-trail/core').walkTrail);\n");
  assert.equal(execFileSync(process.execPath, ['use.cjs'], { cwd: place, encoding: 'utf8' }), 'function\n');
});

test('the demo walks the whole path and says where to go on', async () => {
  const { status, out, err } = await echoTrail(['demo']);
  assert.equal(status, 0, out + err);
  for (const part of [
    'harbour/bookCall',
    'wrote requests/berths/show.yaml',
    'berth-stay: passed',
    'berth-stay: failed',
    'undone',
    '1 undone',
    'harvest   100 of 100',
    '7 deviations',
    'Your turn',
    'echo-trail run register-check',
    'no findings',
  ]) {
    assert.ok(out.includes(part), `${part} is in\n${out}`);
  }
  assert.ok(!(out + err).includes('tidewater-42'));
});

test('demo serve says its address, its services and its credentials, and ends with Ctrl-C', async () => {
  const { status, out } = await echoTrail(['demo', 'serve', '--port', '0', '--json'], {
    meanwhile: (child) => {
      child.stdout?.once('data', () => child.kill('SIGINT'));
    },
  });
  assert.equal(status, 0);
  const { origin, services, credentials } = JSON.parse(out) as {
    origin: string;
    services: { name: string }[];
    credentials: object;
  };
  assert.match(origin, /^http:\/\/127\.0\.0\.1:\d+$/);
  assert.deepEqual(
    [services.map(({ name }) => name), Object.keys(credentials)],
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
