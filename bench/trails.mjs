/** Trails: through a restless server without loss, over many rows without growing, and how fast against a bare pool. */
import { fork } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { compare, comparePeaks, runOnce } from './measure.mjs';

/** @param bench what `run.mjs` measures with */
export async function trails({ here, program, inCollection, origin, write, report, walkSeconds, peak }) {
  write(
    'requests/three.yaml',
    'inputs: {imo: {}}\nurl: ${origin}/v1/vessels/{imo}\nexpect: {status: 200, $.imo: "${imo}", $.lengthM: {over: 0}}\n',
  );
  for (const [name, count] of [
    ['hundred', 100],
    ['ten-thousand', 10_000],
    ['hundred-thousand', 100_000],
  ]) {
    write(`data/${name}.csv`, `imo\n${Array.from({ length: count }, (_, index) => 9000000 + index).join('\n')}\n`);
    write(`trails/${name}.yaml`, `rows: data/${name}.csv\nat-once: 32\nsteps: [{send: three}]\n`);
  }
  await restless({ here, program, write, inCollection, report });

  const ours = async () => 10_000 / walkSeconds((await runOnce([program, 'run', 'ten-thousand'], inCollection)).output);
  const loop = [join(here, 'floors/loop.mjs'), origin, '10000', '32'];
  const floor = async () => 10_000 / (Number((await runOnce(loop)).output) / 1000);
  report('trails: 10,000 rows, 32 at once, to a bare pool', await compare(9, ours, floor), 0.6, 'a second', true);

  // Steadier than the clock: what the start costs is taken off, by a run of few rows and a loop of few requests.
  const cpuFile = join(inCollection.cwd, 'cpu');
  const cpu = async (args) => {
    const env = { ...inCollection.env, ECHO_TRAIL_BENCH_CPU: cpuFile };
    await runOnce(['--import', join(here, 'peak-memory.mjs'), ...args], { ...inCollection, env });
    return Number(readFileSync(cpuFile, 'utf8'));
  };
  const each = async (many, few) => ((await cpu(many)) - (await cpu(few))) / 9900;
  report(
    'trails: CPU for a request to that of a bare pool',
    await compare(
      5,
      () => each([program, 'run', 'ten-thousand'], [program, 'run', 'hundred']),
      () => each(loop, [join(here, 'floors/loop.mjs'), origin, '100', '32']),
    ),
    1.5,
    'ms',
  );

  report(
    'trails: peak at 100,000 rows to peak at 10,000',
    await comparePeaks(
      5,
      () => peak('hundred-thousand'),
      () => peak('ten-thousand'),
    ),
    1.3,
    'MB',
  );
}

/** 10,000 calls, half of them changing something, all complete, none twice, none lost. */
async function restless({ here, program, write, inCollection, report }) {
  const server = fork(join(here, 'restless-server.mjs'));
  const port = await new Promise((resolve) => server.once('message', resolve));
  const origin = `http://127.0.0.1:${port}`;
  write(
    'environments/restless.yaml',
    `changes: allow\nvariables: {origin: "${origin}"}\nhosts: [127.0.0.1]\nretry: {wait: 2ms, growth: 1.5, ceiling: 50ms, tries: 40}\n`,
  );
  write('requests/safe.yaml', 'inputs: {imo: {}}\nurl: ${origin}/safe/{imo}\nexpect: {status: 200}\n');
  write(
    'requests/keyed.yaml',
    'inputs: {imo: {}}\nmethod: POST\nidempotency-key: true\nurl: ${origin}/keyed/k{imo}\nexpect: {status: 200}\n',
  );
  write('trails/restless.yaml', 'rows: data/five-thousand.csv\nat-once: 32\nsteps: [{send: safe}, {send: keyed}]\n');
  const { output } = await runOnce([program, 'run', 'restless', '--env', 'restless', '--json'], inCollection);
  const summary = JSON.parse(output.trim().split('\n').at(-1));
  const counts = await (await fetch(`${origin}/counts`)).json();
  server.disconnect();
  const whole = summary.ok && summary.inDoubt.length === 0 && counts.twice === 0;
  const ratio = whole ? counts.done / 10_000 : 0;
  report('trails: of 10,000 calls, done once each', { ours: counts.done, floor: 10_000, ratio }, 1, 'calls', true);
  console.log(
    `       ${summary.throttled} throttled, ${summary.triedAgain} tried again, ${counts.twice} done twice, ${(summary.time / 1000).toFixed(1)} s`,
  );
}
