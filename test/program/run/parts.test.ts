/** `run --part`: rows that several processes share, and whether they were the whole. */
import assert from 'node:assert/strict';
import { createHash } from 'node:crypto';
import { cpSync, existsSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { collectionOf, temporaryFolder, writeIn } from '../../support/folder.js';
import { ledger } from '../../support/ledger.js';
import { documentLines, echoTrail } from '../../support/program.js';

const rows = Array.from({ length: 40 }, (_, index) => ({ subject: `s${index + 1}`, quay: `q${index % 5}` }));
const csv = `subject,quay\n${rows.map(({ subject, quay }) => `${subject},${quay}`).join('\n')}\n`;
const files = {
  'requests/look.yaml': 'inputs: {subject: {}}\nurl: ${origin}/things/{subject}\nkeep: {id: $.id}\n',
  'trails/all.yaml':
    'rows: data/rows.csv\nat-once: 4\nsteps: [{send: look}]\ntable: {to: data/found.csv, columns: {subject: "${subject}", id: "${id}"}}\n',
  'data/rows.csv': csv,
};

interface Proof {
  readonly complete: boolean;
  readonly once: number;
  readonly missing: readonly number[];
  readonly unfinished: readonly { part: number }[];
  readonly neverCount: number;
  readonly twice: readonly number[];
  readonly differing: readonly string[];
}

/** The run of a part. */
async function part(cwd: string, ...args: readonly string[]): Promise<string> {
  const ended = await echoTrail(['run', 'all', '--json', ...args], { cwd });
  assert.equal(ended.status, 0, ended.err + ended.out);
  return String(documentLines(ended)[0]?.run);
}

async function proven(cwd: string, ...runs: readonly string[]): Promise<{ status: number; proof: Proof; out: string }> {
  const ended = await echoTrail(['report', ...runs, '--json'], { cwd });
  const { parts } = documentLines(ended).at(-1) as unknown as { parts: Proof[] };
  const told = await echoTrail(['report', ...runs], { cwd });
  assert.equal(told.status, ended.status);
  return { status: ended.status, proof: parts[0] as Proof, out: told.out };
}

/** As the manual says it. */
const partByManual = (content: string, of: number): number =>
  (createHash('sha256').update(content).digest().readUIntBE(0, 6) % of) + 1;

test('the parts are the whole: each row once, by the hash that the manual tells, each part with a table of its own', async () => {
  const vendor = await ledger();
  const cwd = collectionOf(files, vendor.origin);
  const runs: string[] = [];
  for (const own of [1, 2, 3]) {
    runs.push(await part(cwd, '--part', `${own}/3`));
    const wanted = rows.filter((row) => partByManual(JSON.stringify(row), 3) === own).map(({ subject }) => subject);
    const table = readFileSync(join(cwd, `data/found.part-${own}-of-3.csv`), 'utf8')
      .trim()
      .split('\n')
      .slice(1);
    assert.deepEqual(
      table.map((line) => line.split(',')[0]),
      wanted,
    );
  }
  assert.equal(existsSync(join(cwd, 'data/found.csv')), false);
  for (const { subject } of rows) assert.equal(vendor.asked.get(`GET ${subject}`), 1, subject);
  const { status, proof, out } = await proven(cwd, ...runs);
  assert.deepEqual([status, proof.complete, proof.once], [0, true, 40]);
  assert.match(out, /all in 3 parts: complete +40 rows, each walked once/);
  const junit = await echoTrail(['report', ...runs, '--as', 'junit'], { cwd });
  assert.match(junit.out, /<testsuites tests="40" failures="0"/);
});

test('a part that is missing, one twice, other rows and another trail are told', async () => {
  const vendor = await ledger();
  const cwd = collectionOf(files, vendor.origin);
  const [first, second] = [await part(cwd, '--part', '1/2'), await part(cwd, '--part', '2/2')];
  const alone = await proven(cwd, first);
  assert.deepEqual([alone.status, alone.proof.complete, alone.proof.missing], [1, false, [2]]);
  assert.equal(alone.proof.neverCount, 40 - alone.proof.once);
  assert.match(alone.out, /incomplete +\d+ of 40 rows walked once[\s\S]*missing: part 2[\s\S]*not walked: \d+ rows/);
  const again = await part(cwd, '--part', '1/2');
  const twice = await proven(cwd, first, second, again);
  assert.equal(twice.proof.twice.length > 0, true);
  assert.match(twice.out, /walked twice: \d+ rows/);
  writeIn(cwd, 'data/rows.csv', `${csv}s41,q0\n`);
  const other = await proven(cwd, first, await part(cwd, '--part', '2/2'));
  assert.deepEqual(other.proof.differing, ['rows']);
  writeIn(cwd, 'trails/all.yaml', `${files['trails/all.yaml']}about: changed\n`);
  const environment = join(cwd, 'environments/sandbox.yaml');
  writeFileSync(environment, `${readFileSync(environment, 'utf8')}about: changed\n`);
  const changed = await proven(cwd, await part(cwd, '--part', '1/2'), second);
  assert.deepEqual(changed.proof.differing, ['rows', 'trail', 'environment']);
  assert.match(changed.out, /the parts do not have the same environment/);
});

test('a part that was killed is told, and resumed as that part', async () => {
  const vendor = await ledger(10);
  const cwd = collectionOf(files, vendor.origin);
  const whole = await part(cwd, '--part', '1/2');
  let calls = 0;
  const killed = await echoTrail(['run', 'all', '--part', '2/2', '--at-once', '1', '--json'], {
    cwd,
    meanwhile: (child) => {
      vendor.onCall = () => {
        calls += 1;
        if (calls === 6) child.kill('SIGKILL');
      };
    },
  });
  vendor.onCall = undefined;
  const run = String(documentLines(killed)[0]?.run);
  const before = await proven(cwd, whole, run);
  assert.deepEqual([before.status, before.proof.unfinished.map((one) => one.part)], [1, [2]]);
  assert.match(before.out, new RegExp(`part 2 did not finish: echo-trail run --resume ${run}`));
  const resumed = await echoTrail(['run', '--resume', run], { cwd });
  assert.equal(resumed.status, 0, resumed.err + resumed.out);
  const after = await proven(cwd, whole, run);
  assert.deepEqual([after.status, after.proof.complete, after.proof.once], [0, true, 40]);
  const table = readFileSync(join(cwd, 'data/found.part-2-of-2.csv'), 'utf8').trim().split('\n').slice(1);
  assert.deepEqual(
    table.map((line) => line.split(',')[0]),
    rows.filter((row) => partByManual(JSON.stringify(row), 2) === 2).map(({ subject }) => subject),
  );
});

test('rows that are alike in a column are of the same part', async () => {
  const vendor = await ledger();
  const cwd = collectionOf(files, vendor.origin);
  await part(cwd, '--part', '2/3', '--part-by', 'quay');
  const wanted = rows.filter(({ quay }) => partByManual(quay, 3) === 2).map(({ subject }) => `GET ${subject}`);
  assert.deepEqual([...vendor.asked.keys()].sort(), wanted.sort());
  const wrong = await echoTrail(['run', 'all', '--part', '1/2', '--part-by', 'berth'], { cwd });
  assert.match(wrong.err + wrong.out, /row 1 has no column berth[\s\S]*its columns are subject, quay/);
});

for (const [name, env, args, expected] of [
  [
    'Slurm',
    { SLURM_ARRAY_TASK_ID: '5', SLURM_ARRAY_TASK_MIN: '4', SLURM_ARRAY_TASK_COUNT: '3' },
    [],
    { part: 2, of: 3 },
  ],
  ['Kubernetes', { JOB_COMPLETION_INDEX: '2' }, ['--of', '3'], { part: 3, of: 3 }],
  ['a CI server', { CI_NODE_INDEX: '1', CI_NODE_TOTAL: '4' }, [], { part: 1, of: 4 }],
] as const)
  test(`--part auto asks ${name}`, async () => {
    const vendor = await ledger();
    const cwd = collectionOf(files, vendor.origin);
    const ended = await echoTrail(['run', 'all', '--part', 'auto', ...args, '--json'], { cwd, env });
    assert.equal(ended.status, 0, ended.err);
    assert.deepEqual(documentLines(ended)[0]?.part, expected);
  });

test('what the environment allows is divided by the parts', async () => {
  const vendor = await ledger(5);
  const cwd = collectionOf(
    {
      ...files,
      'environments/sandbox.yaml': `hosts: ["127.0.0.1:*"]\npace: {at-once: 4}\nvariables: {origin: "${vendor.origin}"}\n`,
    },
    vendor.origin,
  );
  let [now, most] = [0, 0];
  vendor.onCall = () => {
    now += 1;
    most = Math.max(most, now);
    setTimeout(() => {
      now -= 1;
    }, 4);
  };
  await part(cwd, '--part', '1/4');
  assert.equal(most, 1);
});

for (const [args, expected] of [
  [['--part', '4/3'], /there is no part 4 of 3/],
  [['--part', '0/3'], /there is no part 0 of 3/],
  [['--part', '3'], /--part takes a part such as 3\/8, not 3/],
  [['--part', '1/3', '--of', '3'], /--of requires --part auto/],
  [['--of', '3'], /--of requires --part/],
  [['--part', 'auto'], /--part auto found no scheduler/],
] as const)
  test(`run ${args.join(' ')} is refused`, async () => {
    const cwd = collectionOf(files, 'http://127.0.0.1:9');
    const ended = await echoTrail(['run', 'all', ...args], { cwd });
    assert.equal(ended.status, 2);
    assert.match(ended.err, expected);
  });

test('what has no rows has no parts', async () => {
  const cwd = collectionOf({ ...files, 'requests/it.yaml': 'url: ${origin}/it\n' }, 'http://127.0.0.1:9');
  const ended = await echoTrail(['run', 'it', '--part', '1/2'], { cwd });
  assert.deepEqual([ended.status, /it has no rows to divide into parts/.test(ended.err)], [2, true]);
});

/** The records of a run, without what is another's each time. */
const stepsOf = async (cwd: string, run: string): Promise<string[]> =>
  documentLines(await echoTrail(['report', run, '--json'], { cwd }))
    .filter(({ event }) => event === 'step' || event === 'row')
    .map(({ event, row, state, ok }) => `${event} ${row} ${state ?? ok}`)
    .sort();

test('parts are joined into one run: its records, its totals and its table are those of a run without parts', async () => {
  const vendor = await ledger();
  const cwd = collectionOf(files, vendor.origin);
  const single = await part(cwd);
  const table = readFileSync(join(cwd, 'data/found.csv'), 'utf8');
  rmSync(join(cwd, 'data/found.csv'));
  const runs = [await part(cwd, '--part', '1/3'), await part(cwd, '--part', '2/3'), await part(cwd, '--part', '3/3')];
  const ended = await echoTrail(['report', '--join', ...runs, '--to', 'all.xml'], { cwd });
  assert.equal(ended.status, 0, ended.err + ended.out);
  const [, run = ''] = /joined 3 runs: run (\w+)/.exec(ended.err) ?? [];
  assert.match(ended.err, /complete +40 rows, each walked once/);
  assert.match(readFileSync(join(cwd, 'all.xml'), 'utf8'), /<testsuites tests="40" failures="0"/);
  assert.equal(readFileSync(join(cwd, 'data/found.csv'), 'utf8'), table);
  assert.deepEqual(await stepsOf(cwd, run), await stepsOf(cwd, single));
  const summaries = await Promise.all(
    [single, run].map(async (one) => {
      const summary = documentLines(await echoTrail(['report', one, '--json'], { cwd })).find(
        ({ event }) => event === 'summary',
      );
      return { ...summary, time: 0, run: '' };
    }),
  );
  assert.deepEqual(summaries[1], summaries[0]);
  const left = await echoTrail(['run', '--resume', run], { cwd });
  assert.match(left.out + left.err, /nothing left|finished|passed/);
});

test('of a part that is missing the joined run walks the rows, and writes the table; what failed is walked again', async () => {
  const vendor = await ledger();
  const cwd = collectionOf(
    {
      ...files,
      'data/rows.csv': csv.replace('s7,', 'missing7,'),
      'requests/look.yaml': `${files['requests/look.yaml']}expect: {status: 200}\n`,
    },
    vendor.origin,
  );
  const ran = async (own: number): Promise<string> =>
    String(documentLines(await echoTrail(['run', 'all', '--json', '--part', `${own}/2`], { cwd }))[0]?.run);
  const failing = partByManual(JSON.stringify({ subject: 'missing7', quay: 'q1' }), 2);
  const joined = await echoTrail(['report', '--join', await ran(failing)], { cwd });
  assert.equal(joined.status, 1);
  assert.match(joined.out, /incomplete[\s\S]*missing: part/);
  const asked = new Map(vendor.asked);
  const resumed = await echoTrail(['run', '--resume', 'last'], { cwd });
  assert.equal(resumed.status, 1, resumed.err);
  for (const [subject, count] of asked) assert.equal(vendor.asked.get(subject), count, subject);
  assert.equal(vendor.asked.size, 40);
  const lines = readFileSync(join(cwd, 'data/found.csv'), 'utf8').trim().split('\n').slice(1);
  assert.deepEqual(
    lines.map((line) => line.split(',')[0]),
    rows.map(({ subject }) => (subject === 's7' ? 'missing7' : subject)),
  );
  const again = await echoTrail(['run', '--failed-of', 'last', '--json'], { cwd });
  assert.deepEqual(
    documentLines(again).flatMap(({ event, row }) => (event === 'row' ? [row] : [])),
    [7],
  );
});

test('records of parts from other machines are joined from a folder; what is no part, or of another run, is refused', async () => {
  const vendor = await ledger();
  const cwd = collectionOf(files, vendor.origin);
  const whole = await part(cwd);
  const [one, two] = [await part(cwd, '--part', '1/2'), await part(cwd, '--part', '2/2')];
  const folder = temporaryFolder();
  for (const name of readdirSync(join(cwd, '.echo-trail/runs')))
    if (name.includes(one) || name.includes(two)) cpSync(join(cwd, '.echo-trail/runs', name), join(folder, name));
  const elsewhere = collectionOf(files, vendor.origin);
  const ended = await echoTrail(['report', '--join', folder], { cwd: elsewhere });
  assert.equal(ended.status, 0, ended.err + ended.out);
  assert.match(ended.out, /all: passed +40 of 40 rows[\s\S]*complete +40 rows, each/);
  for (const [given, expected] of [
    [[whole, one], /run \w+ is not a part/],
    [[one, await part(cwd, '--part', '1/3')], /their number of parts differs/],
    [[temporaryFolder()], /has no record of a run/],
    [[], /--join needs the runs of parts/],
  ] as const) {
    const refused = await echoTrail(['report', '--join', ...given], { cwd });
    assert.equal(refused.status, 2);
    assert.match(refused.err, expected);
  }
});
