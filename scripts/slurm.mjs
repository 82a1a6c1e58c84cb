/**
 * Tries the recipe of docs/parts.md for Slurm on a Slurm that is there: its script is submitted as it stands, with the folder and
 * the number of tasks put in. `node scripts/slurm.mjs [TASKS]`; `sbatch` has to be on the PATH, and SLURM_CONF set where it needs it.
 */
import { execFileSync, spawn } from 'node:child_process';
import { chmodSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { delimiter, join } from 'node:path';

const root = join(import.meta.dirname, '..');
const program = join(root, 'dist/main.cjs');
const tasks = Number(process.argv[2] ?? 4);
const folder = mkdtempSync(join(tmpdir(), 'echo-trail-slurm-'));
const collection = join(folder, 'harbour-agent');
const bin = join(folder, 'echo-trail');
writeFileSync(bin, `#!/bin/sh\nexec "${process.execPath}" "${program}" "$@"\n`);
chmodSync(bin, 0o755);
const env = { ...process.env, PATH: `${folder}${delimiter}${process.env.PATH}`, HOME: folder };

const manual = readFileSync(join(root, 'docs/parts.md'), 'utf8');
const [, recipe] = /```sh\n(#!\/bin\/sh\n#SBATCH[\s\S]*?)```/.exec(manual) ?? [];
if (recipe === undefined) throw new Error('docs/parts.md has no script for Slurm');
const script = recipe.replace(/--array=1-\d+/, `--array=1-${tasks}`).replace('/srv/harbour-agent', collection);
if (!script.includes(collection)) throw new Error('the script of docs/parts.md names no folder');

const vendor = spawn(process.execPath, [program, 'demo', 'serve', '--port', '0', '--copy', collection], {
  env,
  stdio: ['ignore', 'pipe', 'inherit'],
});
try {
  await new Promise((resolve, reject) => {
    let said = '';
    vendor.on('exit', () => reject(new Error('the stand-in ended')));
    vendor.stdout.on('data', (text) => {
      said += text;
      if (said.includes('the demo collection is in')) resolve(undefined);
    });
  });
  const subjects = Array.from({ length: 200 }, (_, index) => `Lamp ${index + 1} is dark`);
  writeFileSync(join(collection, 'data/reports.csv'), `report\n${subjects.join('\n')}\n`);
  const options = { cwd: folder, env, encoding: /** @type {const} */ ('utf8'), input: script };
  console.log(execFileSync('sbatch', ['--wait', '--ntasks=1', '--output=part-%a.txt'], options).trim());
  for (let task = 1; task <= tasks; task += 1)
    console.log(`── task ${task}\n${readFileSync(join(folder, `part-${task}.txt`), 'utf8').trim()}`);
  const joined = execFileSync(bin, ['report', '--join', '.echo-trail/runs'], {
    cwd: collection,
    env,
    encoding: 'utf8',
  });
  console.log(`── joined\n${joined.trim()}`);
  if (!joined.includes(`complete   ${subjects.length} rows, each walked once`)) process.exitCode = 1;
} finally {
  vendor.kill('SIGINT');
}
