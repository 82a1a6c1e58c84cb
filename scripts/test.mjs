/**
 * Runs the built tests with Node's own runner, five files at a time, since many of them wait, and the largest first, so that no
 * long one is left to the end. Words behind `--` choose files by name; those that take long, in `test/long`, are run only when
 * they are chosen.
 */
import { spawnSync } from 'node:child_process';
import { readdirSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = dirname(dirname(fileURLToPath(import.meta.url)));
const folder = join(root, 'dist/test');
const chosen = process.argv.slice(2);
const files = readdirSync(folder, { recursive: true, encoding: 'utf8' })
  .filter(
    (file) =>
      file.endsWith('.test.js') &&
      (chosen.length === 0 ? !file.startsWith('long') : chosen.some((word) => file.includes(word))),
  )
  .map((file) => join(folder, file))
  .map((file) => ({ file, size: statSync(file).size }))
  .sort((one, other) => other.size - one.size)
  .map(({ file }) => file);
if (files.length === 0) {
  console.error(`no test file fits ${chosen.join(' ')}`);
  process.exit(2);
}
// Certificates that Node would load at every start cost each of the many programs that are started 130 ms.
const { NODE_EXTRA_CA_CERTS: _, ...env } = process.env;
const { status } = spawnSync(
  process.execPath,
  ['--enable-source-maps', '--test', '--test-concurrency=5', '--test-timeout=280000', '--test-reporter=spec', ...files],
  {
    cwd: root,
    env,
    stdio: 'inherit',
  },
);
process.exit(status ?? 1);
