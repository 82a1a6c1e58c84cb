/**
 * Writes what is made from the code: schemas/*.json and docs/reference/*.md. With --check it writes
 * nothing, and fails where a file is not what the code says.
 */
import { existsSync } from 'node:fs';
import { mkdir, readdir, readFile, rm, writeFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { build } from 'esbuild';

const root = dirname(dirname(fileURLToPath(import.meta.url)));
const check = process.argv.includes('--check');
const outfile = join(root, 'dist/generate.mjs');
await build({
  absWorkingDir: root,
  entryPoints: ['scripts/generate/files.ts'],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  packages: 'external',
  logLevel: 'warning',
});
const { generatedFiles } = await import(pathToFileURL(outfile).href);
const stale = [];
const generated = generatedFiles(root);
for (const [path, text] of Object.entries(generated)) {
  const full = join(root, path);
  const before = existsSync(full) ? await readFile(full, 'utf8') : undefined;
  if (before === text) continue;
  stale.push(path);
  if (check) continue;
  await mkdir(dirname(full), { recursive: true });
  await writeFile(full, text);
}
// What no code makes any more.
for (const folder of ['schemas', 'docs/reference']) {
  for (const name of await readdir(join(root, folder), { recursive: true })) {
    const path = `${folder}/${name}`;
    if (!/\.\w+$/.test(name) || path in generated) continue;
    stale.push(path);
    if (!check) await rm(join(root, path));
  }
}
if (stale.length > 0)
  console.log(`${check ? 'not what the code says (npm run generate)' : 'written'}: ${stale.join(', ')}`);
process.exitCode = check && stale.length > 0 ? 1 : 0;
