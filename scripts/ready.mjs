/**
 * Installs and builds what is missing, and does neither again when nothing changed. Uses Node alone,
 * since it runs before anything is installed. `--tests` builds the tests too, `--types` the types.
 */

import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = dirname(dirname(fileURLToPath(import.meta.url)));
const wanted = process.argv.slice(2);
const [major, minor] = process.versions.node.split('.').map(Number);
if (major < 20 || (major === 20 && minor < 18)) {
  console.error(`Echo Trail needs Node 20.18 or later; this is ${process.versions.node}.`);
  process.exit(2);
}

const digest = (paths) => {
  const hash = createHash('sha256');
  for (const path of paths) hash.update(path).update(readFileSync(join(root, path)));
  return hash.digest('hex');
};
const filesIn = (folder) =>
  existsSync(join(root, folder))
    ? readdirSync(join(root, folder), { recursive: true, withFileTypes: true })
        .filter((entry) => entry.isFile())
        .map((entry) => join(entry.parentPath ?? entry.path, entry.name).slice(root.length + 1))
        .sort()
    : [];
const stampIs = (path, value) => existsSync(join(root, path)) && readFileSync(join(root, path), 'utf8') === value;
const run = (what, command, args, options = {}) => {
  console.error(what);
  const { status } = spawnSync(command, args, { cwd: root, stdio: ['ignore', 2, 2], ...options });
  if (status !== 0) process.exit(status ?? 1);
};

const locked = digest(['package.json', 'package-lock.json']);
const installStamp = 'node_modules/.echo-trail-installed';
if (!stampIs(installStamp, locked)) {
  run('installing …', 'npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], {
    shell: process.platform === 'win32',
  });
  writeFileSync(join(root, installStamp), locked);
}

const tests = wanted.includes('--tests');
const types = wanted.includes('--types');
const own = ['package.json', 'package-lock.json', 'tsconfig.json', 'tsconfig.types.json', ...filesIn('scripts')];
const program = digest([...own, ...filesIn('src')]);
const stamp = { program, tests: tests ? digest(filesIn('test')) : undefined, types };
const buildStamp = 'dist/.built';
const before = existsSync(join(root, buildStamp)) ? JSON.parse(readFileSync(join(root, buildStamp), 'utf8')) : {};
// A build with more in it serves as well, where its sources are the same.
const serves = before.program === program && (!tests || before.tests === stamp.tests) && (!types || before.types);
if (!serves) {
  run('building …', process.execPath, [
    'scripts/build.mjs',
    ...(tests ? ['--tests'] : []),
    ...(types ? ['--types'] : []),
  ]);
  writeFileSync(join(root, buildStamp), JSON.stringify(stamp));
}
