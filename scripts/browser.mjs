/**
 * The page of a report in a browser: `node scripts/browser.mjs`. With --install, Debian's chromium is installed first, where there
 * is none (as root). Where there is none and none was installed, it fails.
 */
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';

const root = join(import.meta.dirname, '..');
const run = (command, ...args) => spawnSync(command, args, { cwd: root, stdio: 'inherit' }).status;
const isThere = () => spawnSync('chromium', ['--version'], { stdio: 'ignore' }).status === 0;

if (process.argv.includes('--install') && !isThere())
  run('apt-get', 'install', '-y', '--no-install-recommends', 'chromium');
if (isThere()) {
  run(process.execPath, 'scripts/ready.mjs', '--tests', '--types');
  process.exitCode = run(process.execPath, '--test', '--test-reporter=spec', 'dist/test/long/report-page.test.js') ?? 1;
} else {
  console.error('there is no chromium here; --install has Debian install it');
  process.exitCode = 1;
}
