/** `run --parts`: the parts of the rows in processes of their own, shown and recorded as one run. */
import assert from 'node:assert/strict';
import { type ChildProcess, execFileSync } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { collectionOf, demoCollection } from '../../support/folder.js';
import { ledger } from '../../support/ledger.js';
import { documentLines, echoTrail } from '../../support/program.js';

const subjects = Array.from({ length: 40 }, (_, index) => `s${index + 1}`);
const files = {
  'requests/look.yaml': 'inputs: {subject: {}}\nurl: ${origin}/things/{subject}\nkeep: {id: $.id}\n',
  'trails/all.yaml':
    'rows: data/rows.csv\nat-once: 2\nsteps: [{send: look}]\ntable: {to: data/found.csv, columns: {subject: "${subject}", id: "${id}"}}\n',
  'data/rows.csv': `subject\n${subjects.join('\n')}\n`,
};
const tableOf = (cwd: string): string[] =>
  readFileSync(join(cwd, 'data/found.csv'), 'utf8')
    .trim()
    .split('\n')
    .slice(1)
    .map((line) => line.split(',')[0] ?? '');

interface Report {
  readonly parts: readonly { readonly complete: boolean; readonly once: number; readonly of: number }[];
}

test('three processes walk each row once, and leave one run and one table in the order of the rows', async () => {
  const vendor = await ledger();
  const cwd = collectionOf(files, vendor.origin);
  const ended = await echoTrail(['run', 'all', '--parts', '3', '--json', '--report', 'all.xml'], { cwd });
  assert.equal(ended.status, 0, ended.err + ended.out);
  for (const subject of subjects) assert.equal(vendor.asked.get(`GET ${subject}`), 1, subject);
  const lines = documentLines(ended);
  const count = (event: string): number => lines.filter((line) => line.event === event).length;
  assert.deepEqual(['run', 'walk', 'step', 'row', 'table', 'summary', 'part'].map(count), [1, 1, 40, 40, 1, 1, 0]);
  const { parts } = lines.at(-1) as unknown as Report;
  assert.deepEqual([parts[0]?.complete, parts[0]?.once, parts[0]?.of], [true, 40, 3]);
  assert.deepEqual(tableOf(cwd), subjects);
  assert.deepEqual(readdirSync(join(cwd, 'data')).sort(), ['found.csv', 'rows.csv']);
  assert.match(readFileSync(join(cwd, 'all.xml'), 'utf8'), /<testsuites tests="40" failures="0"/);
  const later = await echoTrail(['report', String(lines[0]?.run), '--json'], { cwd });
  const known = documentLines(later);
  assert.deepEqual(known.find(({ event }) => event === 'summary')?.rows, { ok: 40, failed: 0, before: 0 });
});

test('failed rows are shown as those of one run, and decide the exit status', async () => {
  const vendor = await ledger();
  const cwd = collectionOf({ ...files, 'data/rows.csv': 'subject\ns1\nmissing1\ns2\nmissing2\ns3\n' }, vendor.origin);
  const ended = await echoTrail(['run', 'all', '--parts', '2'], { cwd });
  assert.equal(ended.status, 1, ended.err + ended.out);
  assert.match(ended.out, /all: failed +3 of 5 rows[\s\S]*all in 2 parts: complete +5 rows, each walked once/);
  for (const row of [2, 4]) assert.match(ended.out, new RegExp(`failed +row ${row} \\(missing${row / 2}\\)`));
});

const begun = (vendor: Awaited<ReturnType<typeof ledger>>, calls: number, then: () => void): void => {
  let came = 0;
  vendor.onCall = () => {
    came += 1;
    if (came === calls) then();
  };
};

test('Ctrl-C is handed on once; what was walked is joined, and resumed as one run', async () => {
  const vendor = await ledger(10);
  const cwd = collectionOf(files, vendor.origin);
  const ended = await echoTrail(['run', 'all', '--parts', '2'], {
    cwd,
    meanwhile: (child) => begun(vendor, 8, () => child.kill('SIGINT')),
  });
  assert.equal(ended.status, 130, ended.err + ended.out);
  assert.equal(ended.err.match(/interrupted: cleaning up/g)?.length, 1);
  assert.match(ended.out, /all in 2 parts: incomplete/);
  const [, run = ''] = /echo-trail run --resume (\w+)/.exec(ended.err) ?? [];
  const resumed = await echoTrail(['run', '--resume', run], { cwd });
  assert.equal(resumed.status, 0, resumed.err + resumed.out);
  assert.match(resumed.out, /all: passed +40 of 40 rows/);
  assert.deepEqual(tableOf(cwd), subjects);
});

/** Processes that a process began, as the operating system lists them. */
const childrenOf = ({ pid }: ChildProcess): number[] =>
  execFileSync('ps', ['-A', '-o', 'ppid=,pid='], { encoding: 'utf8' })
    .split('\n')
    .map((line) => line.trim().split(/\s+/).map(Number))
    .flatMap(([parent, child]) => (parent === pid && child !== undefined ? [child] : []));

test('a part that is killed does not keep the others; the run says what is missing, and is resumed', async () => {
  const vendor = await ledger(10);
  const cwd = collectionOf(files, vendor.origin);
  const ended = await echoTrail(['run', 'all', '--parts', '2', '--json'], {
    cwd,
    meanwhile: (child) =>
      begun(vendor, 8, () => {
        const [first] = childrenOf(child);
        assert.ok(first);
        process.kill(first, 'SIGKILL');
      }),
  });
  assert.notEqual(ended.status, 0, ended.err);
  const lines = documentLines(ended);
  const { parts } = lines.at(-1) as unknown as Report;
  assert.equal(parts[0]?.complete, false);
  const resumed = await echoTrail(['run', '--resume', String(lines[0]?.run)], { cwd });
  assert.equal(resumed.status, 0, resumed.err + resumed.out);
  assert.deepEqual(tableOf(cwd), subjects);
});

test('what none of them can begin is said once', async () => {
  const cwd = collectionOf({ ...files, 'requests/it.yaml': 'url: ${origin}/it\n' }, 'http://127.0.0.1:9');
  const ended = await echoTrail(['run', 'it', '--parts', '3'], { cwd });
  assert.equal(ended.status, 2);
  assert.equal(ended.err.match(/it has no rows to divide into parts/g)?.length, 1);
});

test('what a process says is shown as it is, also where colours are forced', async () => {
  const cwd = demoCollection('http://127.0.0.1:9');
  const ended = await echoTrail(['run', 'triage', '--parts', '2', '--rehearse'], { cwd, env: { FORCE_COLOR: '1' } });
  assert.match(ended.err, /^rehearsal +POST \/triage: no documented operation/m);
});

for (const [args, expected] of [
  [['--parts', '0'], /--parts takes a whole number/],
  [['--parts', '65'], /--parts takes at most 64/],
  [['--parts', '2', '--part', '1/2'], /--parts and --part cannot be combined/],
  [['--parts', '2', '--dry-run'], /--parts and --dry-run cannot be combined/],
  [['--parts', '2', '--every', '1s'], /--parts and --every cannot be combined/],
  [['--parts', '2', '--rows', '-'], /--parts needs rows that each process can read/],
  [['--parts', '2', '--env', 'a,b'], /--parts takes one environment/],
] as const)
  test(`run ${args.join(' ')} is refused`, async () => {
    const ended = await echoTrail(['run', 'all', ...args], { cwd: collectionOf(files, 'http://127.0.0.1:9') });
    assert.equal(ended.status, 2);
    assert.match(ended.err, expected);
  });
