/** Hostile input for longer than the tests have time: `npm run fuzz -- SECONDS`, each round with a seed of its own, which is printed. */
import { spawnSync } from 'node:child_process';
import { randomInt } from 'node:crypto';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = dirname(dirname(fileURLToPath(import.meta.url)));
const end = Date.now() + Number(process.argv[2] ?? 300) * 1000;
do {
  const seed = String(randomInt(2 ** 31));
  console.log(`seed ${seed}`);
  const { status } = spawnSync(
    process.execPath,
    ['--enable-source-maps', '--test', join(root, 'dist/test/core/fuzz.test.js')],
    { cwd: root, stdio: 'inherit', env: { ...process.env, FUZZ_RUNS: '1000', FUZZ_SEED: seed } },
  );
  if (status !== 0) process.exit(status ?? 1);
} while (Date.now() < end);
