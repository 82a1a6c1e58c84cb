/**
 * Many rows in several processes against a server that counts: `node bench/parts.mjs [ROWS] [PARTS]`. Two parts are killed on the
 * way and resumed; the parts are joined. Tells how often each row was asked for, the peak memory of each part and of the join, and
 * exits with 1 where a row was lost, or asked for again although nobody had been killed while it was under way.
 */
import { fork, spawn } from 'node:child_process';
import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const here = import.meta.dirname;
const rows = Number(process.argv[2] ?? 1_000_000);
const parts = Number(process.argv[3] ?? 8);
const atOnce = 8;
const killed = [2, 5].filter((part) => part <= parts);
const folder = mkdtempSync(join(tmpdir(), 'echo-trail-parts-'));
const cwd = join(folder, 'collection');
const program = join(here, '../dist/main.cjs');

const server = fork(join(here, 'counting-server.mjs'));
const told = () => new Promise((resolve) => server.once('message', resolve));
const port = await told();

for (const below of ['requests', 'trails', 'environments', 'data']) mkdirSync(join(cwd, below), { recursive: true });
const write = (path, text) => writeFileSync(join(cwd, path), text);
write('echo-trail.yaml', 'name: parts\nenvironment: here\n');
write('environments/here.yaml', `hosts: [127.0.0.1]\nvariables: {origin: "http://127.0.0.1:${port}"}\n`);
write('requests/look.yaml', 'inputs: {row: {}}\nurl: ${origin}/rows/{row}\nexpect: {status: 200}\n');
write(
  'trails/all.yaml',
  `rows: data/rows.csv\nat-once: ${atOnce}\nsteps: [{send: look}]\ntable: {to: data/found.csv, columns: {row: "\${row}"}}\n`,
);
write('data/rows.csv', `row\n${Array.from({ length: rows }, (_, index) => index).join('\n')}\n`);

/** @returns how it ended, its peak memory in MB, and its seconds */
function walk(args, killAfter) {
  const file = join(folder, `peak-${args.join('-').replaceAll('/', '-')}`);
  const began = performance.now();
  return new Promise((resolve) => {
    const child = spawn(process.execPath, ['--import', join(here, 'peak-memory.mjs'), program, ...args], {
      cwd,
      env: { PATH: process.env.PATH, ECHO_TRAIL_HOME: join(folder, 'home'), ECHO_TRAIL_BENCH_PEAK: file },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    let said = '';
    for (const stream of [child.stdout, child.stderr])
      stream.on('data', (text) => {
        said = (said + text).slice(-4000);
      });
    const timer = killAfter && setTimeout(() => child.kill('SIGKILL'), killAfter);
    child.on('close', (status) => {
      clearTimeout(timer);
      let peak = 0;
      if (status !== null) peak = Number(readFileSync(file, 'utf8')) / 1e6;
      resolve({ status, said, peak, seconds: (performance.now() - began) / 1000 });
    });
  });
}

const line = (name, { status, peak, seconds }) =>
  console.log(
    `${name.padEnd(24)} ${status === null ? 'killed' : `status ${status}`}   ${peak.toFixed(0).padStart(4)} MB   ${seconds.toFixed(0)} s`,
  );
const wanted = Array.from({ length: parts }, (_, index) => index + 1);
try {
  const walked = await Promise.all(
    wanted.map((part) =>
      walk(['run', 'all', '--part', `${part}/${parts}`], killed.includes(part) ? 5000 + part * 1000 : 0),
    ),
  );
  for (const [index, one] of walked.entries()) line(`part ${index + 1}/${parts}`, one);
  const runs = readdirSync(join(cwd, '.echo-trail/runs')).map((name) => /-(\w+)\.jsonl/.exec(name)?.[1] ?? '');
  const first = await walk(['report', ...runs]);
  line('told', first);
  console.log(first.said.trim());
  for (const [, run] of first.said.matchAll(/did not finish: echo-trail run --resume (\w+)/g))
    line(`resumed ${run}`, await walk(['run', '--resume', run]));
  const joined = await walk(['report', '--join', ...runs]);
  line('joined', joined);
  console.log(joined.said.trim());
  server.send('counts');
  const counts = await told();
  const again = Object.entries(counts.times).filter(([times]) => Number(times) > 1);
  console.log(`${counts.rows} rows asked for; ${JSON.stringify(counts.times)} by how often`);
  const table = readFileSync(join(cwd, 'data/found.csv'), 'utf8').trim().split('\n').slice(1);
  const inOrder = table.length === rows && table.every((text, index) => Number.parseInt(text, 10) === index);
  // Those under way, and those whose response had come but was not yet written down.
  const allowed = killed.length * atOnce * 3;
  const twice = again.reduce((sum, [, count]) => sum + count, 0);
  const good = counts.rows === rows && twice <= allowed && inOrder && joined.status === 0;
  console.log(
    `${good ? 'ok    ' : 'MISSED'} each row once, ${twice} twice, under way when their part was killed; the table ${inOrder ? 'is in order' : 'IS NOT IN ORDER'}`,
  );
  if (!good) process.exitCode = 1;
} finally {
  server.kill();
  rmSync(folder, { recursive: true, force: true });
}
