/** Everything but the tests: types, lint and format, unused code, import directions, generated files. */
import { spawnSync } from 'node:child_process';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = dirname(dirname(fileURLToPath(import.meta.url)));
const bin = (name) => join(root, 'node_modules/.bin', name);
const checks = [
  ['types', bin('tsc'), ['-p', 'tsconfig.json']],
  ['lint and format', bin('biome'), ['ci', '--error-on-warnings', '--colors=off']],
  ['unused code', bin('knip'), []],
  ['own names', process.execPath, ['scripts/own-names.mjs']],
  ['import directions', bin('depcruise'), ['src', '--config', '.dependency-cruiser.cjs']],
  ['generated files', process.execPath, ['scripts/generate.mjs', '--check']],
];
let failed = 0;
for (const [name, command, args] of checks) {
  const { status, stdout, stderr } = spawnSync(command, args, {
    cwd: root,
    encoding: 'utf8',
    env: { ...process.env, NO_COLOR: '1', FORCE_COLOR: '0' },
  });
  console.log(`${status === 0 ? 'ok    ' : 'FAILED'} ${name}`);
  if (status !== 0) console.log(stdout + stderr);
  if (status !== 0) failed += 1;
}
process.exitCode = failed > 0 ? 1 : 0;
