/** The build: the program, the core as a library, the stand-in, and, with --tests, the tests. */

import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { readdirSync } from 'node:fs';
import { chmod, mkdir, readFile, rm, writeFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { build, transform } from 'esbuild';
import { bundledPackages, notices, partsList } from './bundled.mjs';

const root = dirname(dirname(fileURLToPath(import.meta.url)));
const own = JSON.parse(await readFile(join(root, 'package.json'), 'utf8'));
const { version } = own;
const tests = process.argv.includes('--tests');
const types = process.argv.includes('--types');

const shared = {
  absWorkingDir: root,
  bundle: true,
  platform: 'node',
  target: 'node20',
  format: 'esm',
  logLevel: 'warning',
  define: { ECHO_TRAIL_VERSION: JSON.stringify(version) },
};

/** Commander asks for this module to start programs, which ours has none of; to load it takes longer than to parse arguments. */
const withoutChildProcess = {
  name: 'without-child-process',
  setup({ onResolve, onLoad }) {
    onResolve({ filter: /^node:child_process$/ }, ({ importer }) =>
      importer.includes('/node_modules/commander/') ? { path: 'none', namespace: 'none' } : undefined,
    );
    onLoad({ filter: /.*/, namespace: 'none' }, () => ({ contents: 'module.exports = {};' }));
  },
};

await rm(join(root, 'dist'), { recursive: true, force: true });

const { metafile, outputFiles } = await build({
  ...shared,
  entryPoints: { program: 'src/cli/program.ts', 'core/index': 'src/core/index.ts' },
  outdir: 'dist',
  outExtension: { '.js': '.cjs' },
  entryNames: '[dir]/[name]',
  chunkNames: 'parts/[name]-[hash]',
  splitting: true,
  metafile: true,
  plugins: [withoutChildProcess],
  write: false,
});
// Only ES modules are split, and only CommonJS loads at once: a command is there a tenth sooner.
for (const { path, text } of outputFiles) {
  const { code } = await transform(text, {
    format: 'cjs',
    platform: 'node',
    target: shared.target,
    supported: { 'dynamic-import': false },
    define: { 'import.meta.url': '__moduleUrl' },
    banner: /import\.meta\.url/.test(text)
      ? "const __moduleUrl=require('node:url').pathToFileURL(__filename).href;"
      : '',
    // What another part asks for is there as a plain value. Left as they come, a name is read through two
    // functions, the second of which serves all names: a walk does so some hundred times for a row.
    footer: 'module.exports=Object.defineProperty({...module.exports},"__esModule",{value:!0});',
    minifySyntax: true,
    minifyWhitespace: true,
  });
  await mkdir(dirname(path), { recursive: true });
  await writeFile(path, code);
}
// The launcher responses --version and --help alone, and loads all else.
const { helpScreen, commandNames, commandOutline } = await import(pathToFileURL(join(root, 'dist/program.cjs')).href);
await writeFile(join(root, 'dist/outline.json'), JSON.stringify(await commandOutline()));
const built = createHash('sha256');
for (const { path, text } of outputFiles) built.update(path.slice(root.length)).update(text);
await build({
  ...shared,
  define: {
    ...shared.define,
    ECHO_TRAIL_HELP: JSON.stringify(helpScreen()),
    ECHO_TRAIL_COMMANDS: JSON.stringify(commandNames()),
    ECHO_TRAIL_BUILD: JSON.stringify(built.digest('hex').slice(0, 16)),
  },
  entryPoints: ['src/cli/main.ts'],
  outfile: 'dist/main.cjs',
  format: 'cjs',
  supported: { 'dynamic-import': false },
  banner: { js: '#!/usr/bin/env node' },
});
await chmod(join(root, 'dist/main.cjs'), 0o755);
const bundled = bundledPackages(root, Object.keys(metafile.inputs));
await writeFile(join(root, 'dist/THIRD-PARTY.txt'), notices(bundled));
await writeFile(join(root, 'dist/parts.cdx.json'), `${JSON.stringify(partsList(own, bundled), null, 1)}\n`);

if (tests) {
  const files = readdirSync(join(root, 'test'), { recursive: true, encoding: 'utf8' }).filter((file) =>
    file.endsWith('.test.ts'),
  );
  await build({
    ...shared,
    entryPoints: files.map((file) => join('test', file)),
    outdir: 'dist/test',
    outbase: 'test',
    splitting: true,
    chunkNames: 'parts/[name]-[hash]',
    sourcemap: 'inline',
    packages: 'external',
  });
}

if (types) {
  const tsc = spawnSync(
    process.execPath,
    [join(root, 'node_modules/typescript/bin/tsc'), '-p', 'tsconfig.types.json'],
    { cwd: root, stdio: 'inherit' },
  );
  if (tsc.status !== 0) process.exit(tsc.status ?? 1);
  // The types of what is there to be loaded: dist/core/index.cjs.
  await writeFile(join(root, 'dist/types/package.json'), '{ "type": "commonjs" }\n');
}
