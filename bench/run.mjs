/** What is measured, each as a ratio to a floor in the same run: `npm run bench`. Exits with 1 where a limit is missed. */
import { fork } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { browsing } from './browsing.mjs';
import { finding } from './finding.mjs';
import { largeOpenApi, largeSdl } from './large-documents.mjs';
import { compare, comparePeaks, runOnce } from './measure.mjs';
import { rehearsal } from './rehearsal.mjs';
import { trails } from './trails.mjs';

const here = dirname(fileURLToPath(import.meta.url));
const program = join(here, '../dist/main.cjs');
const folder = mkdtempSync(join(tmpdir(), 'echo-trail-bench-'));
const env = { ECHO_TRAIL_HOME: join(folder, 'home'), ECHO_TRAIL_SECRET_KEY: 'winch-grease-77' };
const server = fork(join(here, 'server.mjs'));
const port = await new Promise((resolve) => server.once('message', resolve));
const origin = `http://127.0.0.1:${port}`;
let missed = 0;

function report(name, { ours, floor, ratio }, limit, unit, least = false) {
  const good = least ? ratio >= limit : ratio <= limit;
  if (!good) missed += 1;
  const shown = (value) => `${value.toFixed(value < 10 ? 2 : 0)} ${unit}`;
  console.log(
    `${good ? 'ok    ' : 'MISSED'} ${name.padEnd(52)} ${shown(ours).padStart(12)} / ${shown(floor).padStart(12)} = ${ratio.toFixed(2)}   (${least ? 'at least' : 'at most'} ${Number(limit.toFixed(2))})`,
  );
}

/** Five lines and a digest, as vendors have them; the key comes from the process environment. */
const seal = `define:
  stamp: \${now | format("yyyyMMdd'T'HHmmss'Z'")}
  base:
    lines:
      - \${sent.method}
      - \${sent.path}
      - \${sent.query | sorted | encoded}
      - \${sent.headers | only("host", "x-office-*") | sorted | header-lines}
      - \${sent.body | sha-256 | hex}
  seal: \${base | hmac-sha-256(secret.key) | base64}
headers: {X-Office-Time: "\${stamp}", X-Office-Seal: "id=7; seal=\${seal}"}
`;

/** The peak memory of a run, in megabytes. */
const peak = async (trail) => {
  const file = join(folder, 'peak');
  await runOnce(['--import', join(here, 'peak-memory.mjs'), program, 'run', trail], {
    ...inCollection,
    env: { ...env, ECHO_TRAIL_BENCH_PEAK: file },
  });
  return Number(readFileSync(file, 'utf8')) / 1e6;
};

makeCollection();
const only = process.argv[2];
const wanted = (name) => only === undefined || name.includes(only);
const timed = (args, options) => async () => (await runOnce(args, options)).ms;
const inCollection = { cwd: join(folder, 'collection'), env };

if (wanted('rehearsal') || wanted('browsing')) {
  const cwd = join(folder, 'rehearsal');
  mkdirSync(cwd, { recursive: true });
  const document = largeOpenApi(22_000, 90);
  writeFileSync(join(cwd, 'large.json'), JSON.stringify(document));
  writeFileSync(join(cwd, 'echo-trail.yaml'), 'name: bench\n');
  await runOnce([program, 'docs', 'add', 'large.json', '--name', 'large', '--quiet'], { cwd, env });
  if (wanted('browsing')) await browsing({ program, cwd, env, report });
  const paths = Object.entries(document.paths).flatMap(([path, item]) =>
    item.get ? [path.replace(/\{[^}]*\}/g, '1')] : [],
  );
  const bare = { pid: server.pid, origin };
  if (wanted('rehearsal')) await rehearsal({ program, cwd, env, paths: paths.slice(0, 1000), bare, report });
}

if (wanted('finding')) {
  const { asked, first, three } = finding(program, join(folder, 'finding'), env);
  const share = (right) => ({ ours: right, floor: asked, ratio: right / asked });
  report('finding: the right operation first', share(first), 65 / 90, 'questions', true);
  report('finding: among the first three', share(three), 80 / 90, 'questions', true);
}
if (wanted('start')) {
  report(
    'start: --version to node -e 0',
    await compare(21, timed([program, '--version']), timed(['-e', '0'])),
    1.3,
    'ms',
  );
  report('start: --help to node -e 0', await compare(21, timed([program, '--help']), timed(['-e', '0'])), 1.7, 'ms');
}
if (wanted('send')) {
  const floor = timed([join(here, 'floors/send.mjs'), `${origin}/v1/vessels/9000017`]);
  report(
    'send: one GET, two assertions, to bare undici',
    await compare(21, timed([program, 'send', 'show', '--quiet'], inCollection), floor),
    1.5,
    'ms',
  );
}
if (wanted('session')) {
  await runOnce([program, 'session', 'open', 'desk', '--quiet'], inCollection);
  const { ours, floor, ratio } = await compare(
    31,
    timed([program, 'send', 'show', '--session', 'desk', '--quiet'], inCollection),
    timed([program, 'send', 'show', '--quiet'], inCollection),
  );
  // Of a send that takes 115 ms, 10 ms: a slower machine takes longer for both.
  report('session: a send with an open one to the same without', { ours, floor, ratio }, 1.09, 'ms');
}
if (wanted('run')) {
  const ours = async () => {
    const { output } = await runOnce([program, 'run', 'five-thousand'], inCollection);
    return 5000 / walkSeconds(output);
  };
  const floor = async () =>
    5000 / (Number((await runOnce([join(here, 'floors/loop.mjs'), origin, '5000', '16'])).output) / 1000);
  report('run: 5,000 rows, 16 at once, to a bare pool', await compare(9, ours, floor), 0.5, 'a second', true);
}
if (wanted('signing')) {
  report(
    'signing: a signed send to the same unsigned',
    await compare(
      21,
      timed([program, 'send', 'show', '--sign', 'seal', '--quiet'], inCollection),
      timed([program, 'send', 'show', '--quiet'], inCollection),
    ),
    1.15,
    'ms',
  );
  const cost = (trail) => async () => {
    const { output } = await runOnce([program, 'run', trail], inCollection);
    return (walkSeconds(output) / 20_000) * 1e6;
  };
  report(
    'signing: 20,000 signed rows to the same unsigned',
    await compare(5, cost('twenty-thousand-signed'), cost('twenty-thousand')),
    1.3,
    'µs',
  );
}
if (wanted('memory')) {
  report(
    'memory: peak at 50,000 rows to peak at 5,000',
    await comparePeaks(
      9,
      () => peak('fifty-thousand'),
      () => peak('five-thousand'),
    ),
    1.3,
    'MB',
  );
}

if (wanted('documents')) await documents();
if (wanted('exchange')) await exchanges();
if (wanted('trails')) await trails({ here, program, inCollection, origin, write, report, walkSeconds, peak });

server.disconnect();
rmSync(folder, { recursive: true, force: true });
process.exitCode = missed > 0 ? 1 : 0;

/** Large bodies, both ways, and a long table. */
async function exchanges() {
  const cwd = join(folder, 'collection');
  const peak = join(folder, 'peak');
  const measured = { ...env, ECHO_TRAIL_BENCH_PEAK: peak };
  const memory = async (name, args) => {
    await runOnce(['--import', join(here, 'peak-memory.mjs'), program, ...args], { cwd, env: measured });
    const megabytes = Number(readFileSync(peak, 'utf8')) / 1e6;
    report(name, { ours: megabytes, floor: 120, ratio: megabytes / 120 }, 1, 'MB');
  };
  // Rates: the floor's time by ours.
  const rate = ({ ours, floor, ratio }) => ({ ours, floor, ratio: 1 / ratio });
  const size = 500_000_000;
  const target = join(folder, 'poured');
  const download = [program, 'send', 'GET', `/pour/${size}`, '--to', target, '--quiet'];
  const bare = [join(here, 'floors/download.mjs'), `${origin}/pour/${size}`, join(folder, 'bare')];
  report(
    'exchange: 500 MB to a file, the rate of a bare pipe',
    rate(await compare(5, timed(download, inCollection), timed(bare))),
    0.7,
    'ms',
    true,
  );
  await memory('exchange: 500 MB to a file, memory', download.slice(1));
  const file = join(cwd, 'data/large.bin');
  writeFileSync(file, Buffer.alloc(200_000_000, 'tide'));
  const upload = [program, 'send', 'upload', '--quiet'];
  const plain = [join(here, 'floors/upload.mjs'), `${origin}/upload`, file];
  report(
    'exchange: 200 MB as a part, the rate of a bare stream',
    rate(await compare(5, timed(upload, inCollection), timed(plain))),
    0.7,
    'ms',
    true,
  );
  await memory('exchange: 200 MB as a part, memory', upload.slice(1));
  report(
    'exchange: 100,000 rows as a table of 20, to a bare parse',
    await compare(
      9,
      timed([program, 'send', 'GET', '/table', '--view', 'table', '--quiet'], inCollection),
      timed([join(here, 'floors/table.mjs'), `${origin}/table`]),
    ),
    1.6,
    'ms',
  );
}

/** The time that the summary tells: `418 ms`, `1.25 s`. */
function walkSeconds(output) {
  const found = /([\d.]+) (ms|s) {3}run/.exec(output);
  if (!found) throw new Error(`no summary in ${output}`);
  return Number(found[1]) / (found[2] === 'ms' ? 1000 : 1);
}

function write(path, text) {
  mkdirSync(dirname(join(folder, 'collection', path)), { recursive: true });
  writeFileSync(join(folder, 'collection', path), text);
}

function makeCollection() {
  write('echo-trail.yaml', 'name: bench\nenvironment: local\nechoes: {runs: 3}\n');
  write('environments/local.yaml', `variables: {origin: "${origin}"}\n`);
  write(
    'requests/show.yaml',
    'inputs: {imo: {default: "9000017"}}\nurl: ${origin}/v1/vessels/{imo}\nexpect: {status: 200, $.imo: "${imo}"}\n',
  );
  const row =
    'inputs: {imo: {}}\nurl: ${origin}/v1/vessels/{imo}\nexpect: {status: 200, $.imo: "${imo}", $.lengthM: {over: 0}}\nkeep: {name: $.name}\n';
  write('requests/signed.yaml', `${row}signature: seal\n`);
  write('signatures/seal.yaml', seal);
  write('requests/enter.yaml', 'method: POST\nchanges: false\nurl: ${origin}/enter\n');
  write('sessions/desk.yaml', 'kind: login\nopen: {send: enter}\ntoken: header.content-type\n');
  write('requests/row.yaml', row);
  write(
    'requests/upload.yaml',
    'method: POST\nchanges: false\nurl: ${origin}/upload\nbody: {parts: {about: a plan, plan: {file: data/large.bin}}}\n',
  );
  for (const [name, count] of [
    ['five-thousand', 5000],
    ['twenty-thousand', 20_000],
    ['fifty-thousand', 50_000],
  ]) {
    write(`data/${name}.csv`, `imo\n${Array.from({ length: count }, (_, index) => 9000000 + index).join('\n')}\n`);
    write(`trails/${name}.yaml`, `rows: data/${name}.csv\nat-once: 16\nsteps: [{send: row}]\n`);
    write(`trails/${name}-signed.yaml`, `rows: data/${name}.csv\nat-once: 16\nsteps: [{send: signed}]\n`);
  }
}

/** Large documents: added against parsing them and writing what is kept; found and shown against a bare node. */
async function documents() {
  const { default: yaml } = await import('js-yaml');
  const small = largeOpenApi(1000, 1000);
  const sources = [
    ['12 MB JSON', 'json', JSON.stringify(small, null, 1), 3, 400, 2.5],
    ['12 MB YAML', 'yaml', yaml.dump(small, { noRefs: true }), 1.4, undefined, 2.5],
    ['48 MB JSON', 'json', JSON.stringify(largeOpenApi(22_000, 90), null, 1), 3, 1200, 3],
    ['1.5 MB SDL', 'graphql', largeSdl(1.5e6), undefined, undefined, 2.5],
  ];
  for (const [name, ending, text, addLimit, memoryLimit, deepLimit] of sources) {
    const cwd = join(folder, name.replaceAll(' ', '-'));
    const file = join(cwd, `large.${ending}`);
    mkdirSync(cwd, { recursive: true });
    writeFileSync(file, text);
    writeFileSync(join(cwd, 'echo-trail.yaml'), 'name: bench\n');
    const add = [program, 'docs', 'add', file, '--name', 'large', '--replace', '--quiet'];
    const peak = join(cwd, 'peak');
    await runOnce(['--import', join(here, 'peak-memory.mjs'), ...add], {
      cwd,
      env: { ...env, ECHO_TRAIL_BENCH_PEAK: peak },
    });
    const megabytes = Number(readFileSync(peak, 'utf8')) / 1e6;
    if (memoryLimit) {
      const memory = { ours: megabytes, floor: memoryLimit, ratio: megabytes / memoryLimit };
      report(`documents: ${name}, memory of docs add`, memory, 1, 'MB');
    }
    if (addLimit) {
      const kept = join(cwd, '.echo-trail/documentation/large');
      const floor = timed([join(here, 'floors/document.mjs'), file, kept, join(cwd, 'written')]);
      report(
        `documents: ${name}, docs add to parse and write`,
        await compare(5, timed(add, { cwd, env }), floor),
        addLimit,
        'ms',
      );
    }
    const [line] = readFileSync(join(cwd, '.echo-trail/documentation/large/list.txt'), 'utf8').split('\n', 6).slice(-1);
    const [, , id, , path] = line.split('\t');
    const bare = timed(['-e', '0']);
    const thing = path.split('/').findLast((part) => /^[a-z]+$/i.test(part)) ?? id;
    const find = timed([program, 'docs', 'find', 'list', 'the', thing, '--quiet'], { cwd, env });
    report(`documents: ${name}, docs find to node -e 0`, await compare(9, find, bare), 2.5, 'ms');
    // Words that stand in descriptions alone are looked for there, in four times as much text.
    const deep = timed([program, 'docs', 'find', 'belarcor', 'fencordun', '--quiet'], { cwd, env });
    report(`documents: ${name}, find in descriptions`, await compare(9, deep, bare), deepLimit, 'ms');
    const show = timed([program, 'docs', 'show', id, '--quiet'], { cwd, env });
    report(`documents: ${name}, docs show to node -e 0`, await compare(9, show, bare), 2.5, 'ms');
  }
}
