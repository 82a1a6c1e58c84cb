/**
 * Programs that `export code` writes, run in the languages that this system has: `node scripts/languages.mjs`. With --install,
 * those that Debian has are installed first (as root). C# and PowerShell are not among them.
 */
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';

const packages = {
  go: 'golang-go',
  java: 'default-jdk-headless',
  php: 'php-cli',
  ruby: 'ruby',
  python3: 'python3',
  curl: 'curl',
};
const root = join(import.meta.dirname, '..');
const there = (name) => spawnSync('sh', ['-c', `command -v ${name}`]).status === 0;
const run = (command, ...args) =>
  spawnSync(command, args, { cwd: root, stdio: 'inherit', env: { ...process.env, ...own } });
const own = {};

const missing = Object.keys(packages).filter((name) => !there(name));
if (process.argv.includes('--install') && missing.length > 0)
  run('apt-get', 'install', '-y', '--no-install-recommends', ...missing.map((name) => packages[name]));
const found = Object.keys(packages).filter(there);
console.log(
  `runs programs in node, ${found.join(', ')}; not here: ${
    Object.keys(packages)
      .filter((name) => !there(name))
      .join(', ') || 'none'
  }`,
);
own.ECHO_TRAIL_TEST_LANGUAGES = [
  'node',
  ...found.map((name) => ({ python3: 'python', curl: 'shell' })[name] ?? name),
].join(',');
run(process.execPath, 'scripts/ready.mjs', '--tests', '--types');
process.exitCode = run(process.execPath, '--test', '--test-reporter=spec', 'dist/test/long/code.test.js').status ?? 1;
