/**
 * Prepares a version: `npm run release -- 1.0.0`. It gives the changelog and the package the version, keeps what it promises in
 * released/, builds and packs it twice in folders of their own, and compares the bytes. Committing, tagging and publishing
 * are left to whoever releases. With --check it changes nothing, and looks at the version as it stands.
 */
import { execFileSync, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { cpSync, existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { brokenPromises, promisesOf } from './promises.mjs';

const root = dirname(import.meta.dirname);
const check = process.argv.includes('--check');
const wanted = process.argv.slice(2).find((word) => !word.startsWith('-'));
const git = (...args) => execFileSync('git', args, { cwd: root, encoding: 'utf8' });
const read = (file) => readFileSync(join(root, file), 'utf8');
const node = (...args) => execFileSync(process.execPath, args, { cwd: root, stdio: ['ignore', 'ignore', 'inherit'] });

function fail(...lines) {
  for (const line of lines) console.error(`error  ${line}`);
  process.exit(1);
}
const said = (what) => console.log(`ok     ${what}`);

/** Licences that what is bundled may have: what they ask for is that their text is passed on. */
const permitted =
  /^\(?(?:MIT|ISC|0BSD|BSD-2-Clause|BSD-3-Clause|Apache-2\.0|BlueOak-1\.0\.0|Unlicense|CC0-1\.0|Python-2\.0|WTFPL)(?:\)| (?:OR|AND) .*)?$/;

const { version: before } = JSON.parse(read('package.json'));
if (!check) prepare();
verify();

function prepare() {
  if (!/^\d+\.\d+\.\d+$/.test(wanted ?? '')) fail('name a version of three numbers: npm run release -- 1.0.0');
  const number = (version) => version.split('.').reduce((sum, part) => sum * 10_000 + Number(part), 0);
  if (number(wanted) < number(before)) fail(`${wanted} is below ${before}`);
  if (git('status', '--porcelain') !== '') fail('the working tree has changes: commit them first');
  const changes = read('CHANGELOG.md');
  const [, heading, entries] = /^## (.+)\n([\s\S]*?)(?=^## |$(?![\s\S]))/m.exec(changes) ?? [];
  if (!/, not yet released$/.test(heading ?? '') || !/^- /m.test(entries ?? ''))
    fail('CHANGELOG.md does not begin with what is not yet released: ## VERSION, not yet released');
  const day = new Date().toISOString().slice(0, 10);
  writeFileSync(join(root, 'CHANGELOG.md'), changes.replace(`## ${heading}`, `## ${wanted}, ${day}`));
  execFileSync('npm', ['version', wanted, '--no-git-tag-version', '--allow-same-version', '--ignore-scripts'], {
    cwd: root,
    stdio: 'ignore',
  });
  said(`CHANGELOG.md, package.json and package-lock.json say ${wanted}`);
  node('scripts/build.mjs', '--types');
  node('scripts/generate.mjs');
  mkdirSync(join(root, 'released'), { recursive: true });
  writeFileSync(join(root, 'released/promises.json'), `${JSON.stringify(promisesOf(root), null, 1)}\n`);
  said('released/promises.json keeps what this version promises');
}

function verify() {
  const { version, bundledLicences } = built();
  const last = join(root, 'released/promises.json');
  if (existsSync(last)) {
    const broken = brokenPromises(JSON.parse(readFileSync(last, 'utf8')), promisesOf(root));
    if (broken.length > 0) fail(...broken);
    said(`keeps what ${JSON.parse(readFileSync(last, 'utf8')).version} promised`);
  } else said('there is no release before whose promises could be kept');
  const others = bundledLicences.filter(({ license }) => !permitted.test(license));
  if (others.length > 0)
    fail(...others.map(({ name, license }) => `${name} is bundled under ${license}, which nobody has looked at`));
  said(`${bundledLicences.length} bundled packages, all under licences that let it be passed on`);
  const audit = spawnSync('npm', ['audit', '--json'], { cwd: root, encoding: 'utf8' });
  const { metadata } = jsonOf(audit.stdout);
  if (metadata?.vulnerabilities === undefined)
    console.log('note   npm audit could not ask its registry: look at it before you publish');
  else if (metadata.vulnerabilities.total > 0) fail(`npm audit tells of ${metadata.vulnerabilities.total} weaknesses`);
  else said('npm audit is clean');

  const [one, other] = [packed(), packed()];
  if (one.digest !== other.digest) fail(`two builds differ: ${one.digest} and ${other.digest}`);
  const place = join(root, 'dist', one.file);
  writeFileSync(place, one.bytes);
  said(`two builds gave the same bytes: dist/${one.file}, SHA-256 ${one.digest}`);
  if (!check)
    console.log(
      `next   look at git diff; git add -A; git commit -m "Version ${version}"; git tag v${version}; .ci/run; npm publish dist/${one.file}`,
    );
}

/** What was built here. */
function built() {
  if (!existsSync(join(root, 'dist/parts.cdx.json'))) node('scripts/build.mjs', '--types');
  const { components } = JSON.parse(read('dist/parts.cdx.json'));
  return {
    version: JSON.parse(read('package.json')).version,
    bundledLicences: components.map(({ name, licenses: [one] }) => ({
      name,
      license: one.expression ?? one.license.id,
    })),
  };
}

/** Built and packed in a folder of its own, from what version control knows. */
function packed() {
  const folder = mkdtempSync(join(tmpdir(), 'release-'));
  try {
    const place = join(folder, 'echo-trail');
    for (const file of git('ls-files', '-z', '--cached', '--others', '--exclude-standard').split('\0'))
      if (file !== '' && existsSync(join(root, file))) cpSync(join(root, file), join(place, file));
    cpSync(join(root, 'node_modules'), join(place, 'node_modules'), { recursive: true, verbatimSymlinks: true });
    execFileSync(process.execPath, ['scripts/build.mjs', '--types'], {
      cwd: place,
      stdio: ['ignore', 'ignore', 'inherit'],
    });
    execFileSync('npm', ['pack', '--ignore-scripts', '--pack-destination', folder], { cwd: place, stdio: 'ignore' });
    const [file] = readdirSync(folder).filter((name) => name.endsWith('.tgz'));
    const bytes = readFileSync(join(folder, file));
    return { file, bytes, digest: createHash('sha256').update(bytes).digest('hex') };
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

function jsonOf(text) {
  try {
    return JSON.parse(text);
  } catch {
    return {};
  }
}
