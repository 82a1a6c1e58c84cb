/** Runs that were killed, interrupted or failed: resumed, walked again where they failed, taken back. */
import assert from 'node:assert/strict';
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { collectionOf, everyFile } from '../../support/folder.js';
import { killedAt, ledger } from '../../support/ledger.js';
import { documentLines, type Ended, echoTrail } from '../../support/program.js';

const requests = {
  'requests/make.yaml':
    'inputs: {subject: {}}\nmethod: POST\nurl: ${origin}/things/{subject}\nbody: {json: {}}\nkeep: {made: $.id}\n',
  'requests/make-keyed.yaml':
    'inputs: {subject: {}}\nmethod: POST\nidempotency-key: true\nurl: ${origin}/things/{subject}\nbody: {json: {}}\nkeep: {made: $.id}\n',
  'requests/look.yaml': 'inputs: {subject: {}}\nurl: ${origin}/things/{subject}\nkeep: {found: $.id}\n',
  'requests/remove.yaml': 'inputs: {made: {}}\nmethod: DELETE\nurl: ${origin}/things/{made}\n',
};

const rowsOf = (names: readonly string[]): string => `subject\n${names.join('\n')}\n`;
const many = Array.from({ length: 120 }, (_, index) => `s${index + 1}`);

interface SummaryDocument {
  readonly run: string;
  readonly ok: boolean;
  readonly rows: { readonly ok: number; readonly failed: number; readonly before: number };
  readonly inDoubt: readonly string[];
  readonly notUndone: readonly string[];
}
const summaryOf = (ended: Ended): SummaryDocument =>
  documentLines(ended).find(({ event }) => event === 'summary') as unknown as SummaryDocument;
const doubtful = (summary: SummaryDocument): string[] =>
  summary.inDoubt.map((text) => /things\/(\w+)/.exec(text)?.[1] ?? text);

/** How many calls each command gets to make before it is killed; `test/long/kills.test.ts` draws many more moments. */
const kills: readonly (readonly number[])[] = [
  [1, 37, 9],
  [55, 7, 19],
];

for (const [index, moments] of kills.entries()) {
  const keyed = index === 1;
  test(`killed after ${moments.join(', ')} calls${keyed ? ' with keys' : ''} and resumed: completed and in doubt are exactly the set, nothing twice`, async () => {
    const vendor = await ledger(2);
    const cwd = collectionOf(
      {
        ...requests,
        'trails/all.yaml': `rows: data/rows.csv\nat-once: 6\nsteps:\n  - send: ${keyed ? 'make-keyed' : 'make'}\n  - send: look\n`,
        'data/rows.csv': rowsOf(many),
      },
      vendor.origin,
    );
    for (const [turn, moment] of moments.entries()) {
      const args = turn === 0 ? ['run', 'all'] : ['run', '--resume', 'last'];
      let calls = 0;
      const killed = await killedAt(args, cwd, vendor, () => {
        calls += 1;
        return calls === moment;
      });
      assert.equal(killed.status, -1, 'it was killed');
    }
    const resumed = await echoTrail(['run', '--resume', 'last', '--json'], { cwd });
    const summary = summaryOf(resumed);
    // All of them, whichever command left them in doubt.
    const doubted = new Set(doubtful(summary));
    assert.equal(summary.rows.ok + summary.rows.failed, many.length);
    assert.equal(summary.rows.failed, doubted.size, resumed.out);
    if (keyed) assert.equal(doubted.size, 0, 'a call with a key is sent again with the same one');
    for (const subject of many) {
      const count = vendor.counts.get(subject) ?? 0;
      assert.ok(count <= 1, `${subject} was changed ${count} times`);
      assert.ok(doubted.has(subject) || count === 1, `${subject} is neither done nor in doubt`);
    }
  });
}

test('what a step kept before the kill is there for the steps behind it, and a table is whole', async () => {
  const vendor = await ledger();
  const cwd = collectionOf(
    {
      ...requests,
      'requests/show.yaml': 'inputs: {made: {}}\nurl: ${origin}/things/{made}\nkeep: {shown: $.id}\n',
      'trails/all.yaml':
        'steps:\n  - for-each: {range: [1, 30]}\n    as: n\n    at-once: 3\n    steps:\n      - send: make-keyed\n        give: {subject: "t${n}"}\n      - send: show\n    table: {columns: {n: "${n}", made: "${made}", shown: $.id}, to: data/all.csv}\n',
    },
    vendor.origin,
  );
  await killedAt(['run', 'all'], cwd, vendor, (subject) => subject === 'made-t17');
  assert.ok(!readdirSync(join(cwd, 'data')).includes('all.csv'), 'a table that is not whole is not in its place');
  const resumed = await echoTrail(['run', '--resume', 'last'], { cwd });
  assert.equal(resumed.status, 0, resumed.out + resumed.err);
  const lines = readFileSync(join(cwd, 'data/all.csv'), 'utf8').trim().split('\n');
  assert.deepEqual(lines, [
    'n,made,shown,error',
    ...Array.from({ length: 30 }, (_, at) => `${at + 1},made-t${at + 1},made-t${at + 1},`),
  ]);
  assert.ok([...vendor.counts.values()].every((count) => count === 1));
  assert.ok((vendor.asked.get('GET made-t1') ?? 0) === 1, 'what was looked at is not looked at again');
});

test('a run that is interrupted can be resumed; what was under way is not lost', async () => {
  const vendor = await ledger(5);
  const cwd = collectionOf(
    {
      ...requests,
      'trails/all.yaml': 'rows: data/rows.csv\nat-once: 4\nsteps: [{send: look}]\n',
      'data/rows.csv': rowsOf(many),
    },
    vendor.origin,
  );
  const first = await echoTrail(['run', 'all'], {
    cwd,
    meanwhile: (child) => {
      vendor.onCall = (subject) => {
        if (subject === 's40') child.kill('SIGINT');
      };
    },
  });
  assert.equal(first.status, 130);
  const [, run] = /run --resume (\w+)/.exec(first.out) ?? [];
  assert.ok(run, first.out);
  const { rows, ok } = summaryOf(await echoTrail(['run', '--resume', run, '--json'], { cwd }));
  assert.deepEqual([ok, rows.ok, rows.failed], [true, 120, 0]);
  assert.ok(rows.before >= 30 && rows.before < 120, `${rows.before}`);
});

test('--failed-of walks only what failed, once what was wrong is mended', async () => {
  const vendor = await ledger();
  const cwd = collectionOf(
    {
      ...requests,
      'trails/all.yaml': 'rows: data/rows.csv\nsteps: [{send: look}]\n',
      'data/rows.csv': rowsOf(['a', 'missing1', 'b', 'missing2']),
    },
    vendor.origin,
  );
  const first = await echoTrail(['run', 'all'], { cwd });
  assert.equal(first.status, 1);
  const [, run = ''] = /--failed-of (\w+)/.exec(first.out) ?? [];
  writeFileSync(join(cwd, 'data/rows.csv'), rowsOf(['a', 'c', 'b', 'missing2']));
  const second = await echoTrail(['run', '--failed-of', run, '--json'], { cwd });
  assert.deepEqual(summaryOf(second).rows, { ok: 1, failed: 1, before: 0 });
  assert.deepEqual(
    ['a', 'b', 'c'].map((subject) => vendor.asked.get(`GET ${subject}`)),
    [1, 1, 1],
  );
  const third = await echoTrail(['run', '--failed-of', summaryOf(second).run], { cwd });
  assert.match(third.out, /0 of 1 rows, 1 failed/);
  writeFileSync(join(cwd, 'data/rows.csv'), rowsOf(['a', 'c', 'b', 'd']));
  assert.equal((await echoTrail(['run', '--failed-of', 'last'], { cwd })).status, 0);
  const nothing = await echoTrail(['run', '--failed-of', 'last'], { cwd });
  assert.deepEqual([nothing.status, /nothing failed in run/.test(nothing.err)], [0, true]);
});

test('a run of what failed that is killed itself is resumed for those rows alone', async () => {
  const vendor = await ledger(5);
  const odd = many.map((name, at) => (at % 2 === 0 ? name : `missing-${name}`));
  const cwd = collectionOf(
    {
      ...requests,
      'trails/all.yaml': 'rows: data/rows.csv\nat-once: 8\nsteps: [{send: look}, {send: make-keyed}]\n',
      'data/rows.csv': rowsOf(odd),
    },
    vendor.origin,
  );
  await echoTrail(['run', 'all'], { cwd });
  writeFileSync(join(cwd, 'data/rows.csv'), rowsOf(many.map((name, at) => (at % 2 === 0 ? name : `mended-${name}`))));
  await killedAt(['run', '--failed-of', 'last'], cwd, vendor, (subject) => subject === 'mended-s40');
  const resumed = await echoTrail(['run', '--resume', 'last', '--json'], { cwd });
  const { rows } = summaryOf(resumed);
  assert.deepEqual([resumed.status, rows.ok, rows.failed], [0, 60, 0], resumed.err);
  assert.equal(vendor.asked.get('GET s1'), 1, 'what was well at first is not walked again');
  assert.ok([...vendor.counts.values()].every((count) => count === 1));
});

test('a repeated run that was killed resumes its repetitions, and handles no item twice', async () => {
  const vendor = await ledger(5);
  const cwd = collectionOf(
    {
      ...requests,
      'trails/all.yaml':
        'steps:\n  - for-each: [{id: a}, {id: b}]\n    as: one\n    once-by: $.id\n    steps: [{send: make-keyed, give: {subject: "${one.id}"}}]\n  - {send: look, give: {subject: each}}\n',
    },
    vendor.origin,
  );
  await killedAt(
    ['run', 'all', '--repeat', '4'],
    cwd,
    vendor,
    (subject) => subject === 'each' && (vendor.asked.get('GET each') ?? 0) === 2,
    1,
  );
  const before = vendor.asked.get('GET each') ?? 0;
  const resumed = await echoTrail(['run', '--resume', 'last', '--json'], { cwd });
  assert.equal(resumed.status, 0, resumed.err);
  const summaries = documentLines(resumed).filter(({ event }) => event === 'summary');
  assert.ok(summaries.length >= 2 && summaries.length <= 3, `${summaries.length} passes were left`);
  assert.ok((vendor.asked.get('GET each') ?? 0) >= before + 2);
  assert.deepEqual([vendor.counts.get('a'), vendor.counts.get('b')], [1, 1]);
  assert.deepEqual([vendor.asked.get('POST a'), vendor.asked.get('POST b')], [1, 1]);
});

test('a table of what is handled once is whole when the run is resumed, whatever the list has become', async () => {
  const vendor = await ledger(5);
  const cwd = collectionOf(
    {
      ...requests,
      'data/list.csv': 'id\na\nb\nc\nd\n',
      'trails/all.yaml':
        'steps:\n  - for-each: {rows: data/list.csv}\n    as: one\n    once-by: $.id\n    steps: [{send: make-keyed, give: {subject: "${one.id}"}}]\n    table: {columns: {id: "${one.id}", made: $.id}, as: lines, to: data/made.csv}\n  - keep: {count: "${lines | count}"}\n  - {send: look, give: {subject: "n${count}"}}\n',
    },
    vendor.origin,
  );
  await killedAt(['run', 'all'], cwd, vendor, (subject) => subject === 'c', 1);
  assert.ok(!existsSync(join(cwd, 'data/made.csv')));
  writeFileSync(join(cwd, 'data/list.csv'), 'id\nnew\nb\nc\nd\n');
  const resumed = await echoTrail(['run', '--resume', 'last'], { cwd });
  assert.equal(resumed.status, 0, resumed.out + resumed.err);
  assert.equal(
    readFileSync(join(cwd, 'data/made.csv'), 'utf8'),
    `id,made,error\n${['new', 'b', 'c', 'd', 'a'].map((id) => `${id},made-${id},\n`).join('')}`,
  );
  assert.equal(vendor.asked.get('GET n5'), 1);
  assert.deepEqual([vendor.asked.get('POST a'), vendor.asked.get('POST b')], [1, 1]);
});

test('what could not be undone is listed, kept, and taken back by a later command, newest first', async () => {
  const vendor = await ledger();
  const cwd = collectionOf(
    {
      ...requests,
      'trails/all.yaml':
        'steps:\n  - {send: make, give: {subject: one}, undo: {send: remove}}\n  - {send: make, give: {subject: stuck}, undo: {send: remove}}\n  - {send: look, give: {subject: missing}}\n',
    },
    vendor.origin,
  );
  const failed = await echoTrail(['run', 'all'], { cwd });
  assert.match(failed.out, /not undone: make \(remove failed\)[\s\S]*1 undone +1 not undone/);
  assert.match(
    failed.out,
    /not undone: what these made may still be there\n +make by remove: status: expected under 400, found 500/,
  );
  const [, run = ''] = /run --undo (\w+)/.exec(failed.out) ?? [];
  vendor.removed.length = 0;
  const still = await echoTrail(['run', '--undo', run], { cwd });
  assert.equal(still.status, 1);
  assert.deepEqual(vendor.removed, ['made-stuck'], 'what is gone already is not taken back again');
  assert.match(still.out, new RegExp(`run ${run}: 0 undone, 1 not`));

  const well = collectionOf(
    {
      ...requests,
      'trails/all.yaml':
        'steps:\n  - {send: make, give: {subject: one}, undo: {send: remove}}\n  - {send: make, give: {subject: two}, undo: {send: remove}}\n',
    },
    vendor.origin,
  );
  vendor.removed.length = 0;
  assert.equal((await echoTrail(['run', 'all'], { cwd: well })).status, 0);
  const undone = await echoTrail(['run', '--undo', 'last', '--json'], { cwd: well });
  assert.equal(undone.status, 0, undone.err);
  assert.deepEqual(vendor.removed, ['made-two', 'made-one']);
  assert.deepEqual(documentLines(undone).at(-1), {
    event: 'undo-summary',
    run: documentLines(undone).at(-1)?.run,
    undone: 2,
    notUndone: 0,
    inDoubt: [],
  });
  const again = await echoTrail(['run', '--undo', 'last'], { cwd: well });
  assert.match(again.err, /left nothing that is to be taken back/);
});

test('a run that was killed before its undo parts is taken back by --undo', async () => {
  const vendor = await ledger();
  const cwd = collectionOf(
    {
      ...requests,
      'trails/all.yaml':
        'inputs: {subject: {}}\nsteps:\n  - {send: make, undo: {send: remove}}\n  - {send: look, give: {subject: wait}}\n',
    },
    vendor.origin,
  );
  // Long after the step before has been written down.
  await killedAt(['run', 'all', '--set', 'subject=one'], cwd, vendor, (subject) => subject === 'wait', 200);
  const undone = await echoTrail(['run', '--undo', 'last'], { cwd });
  assert.equal(undone.status, 0, undone.out + undone.err);
  assert.deepEqual(vendor.removed, ['made-one']);
});

test('kept secrets and what --set gave are sealed in the journal, and open for the run that goes on', async () => {
  const vendor = await ledger();
  const cwd = collectionOf(
    {
      ...requests,
      'requests/token.yaml':
        'inputs: {subject: {}}\nmethod: POST\nurl: ${origin}/things/{subject}\nbody: {json: {}}\nkeep: {pass: {at: $.id, secret: true}, whole: $}\n',
      'trails/all.yaml':
        'inputs: {given: {}}\nsteps:\n  - {send: token, give: {subject: quarterdeck-5512}, undo: {send: remove, give: {made: "${pass}"}}}\n  - {send: look, give: {subject: wait}}\n  - {send: look, give: {subject: "${pass}-${given}"}}\n',
    },
    vendor.origin,
  );
  await killedAt(['run', 'all', '--set', 'given=halyard-7781'], cwd, vendor, (subject) => subject === 'wait', 200);
  for (const { path, text } of everyFile(join(cwd, '.echo-trail'))) {
    if (!path.includes('/runs/')) continue;
    assert.ok(text.includes('"line":"step"'), 'the step is written down');
    assert.ok(!text.includes('made-quarterdeck-5512'), 'a kept secret is sealed');
    assert.ok(!text.includes('halyard-7781'), 'what --set gave is sealed');
  }
  const resumed = await echoTrail(['run', '--resume', 'last'], { cwd });
  assert.equal(resumed.status, 0, resumed.out + resumed.err);
  assert.equal(vendor.asked.get('GET made-quarterdeck-5512-halyard-7781'), 1);
  assert.equal(vendor.counts.get('quarterdeck-5512'), 1);
});

test('a run that is still under way, or whose trail was changed, is not resumed', async () => {
  const vendor = await ledger(20);
  const cwd = collectionOf(
    { ...requests, 'trails/all.yaml': 'rows: data/rows.csv\nsteps: [{send: look}]\n', 'data/rows.csv': rowsOf(many) },
    vendor.origin,
  );
  let second: Promise<Ended> | undefined;
  await echoTrail(['run', 'all'], {
    cwd,
    meanwhile: (child) => {
      vendor.onCall = (subject) => {
        if (subject === 's10') second ??= echoTrail(['run', '--resume', 'last'], { cwd });
        if (subject === 's80') child.kill('SIGKILL');
      };
    },
  });
  vendor.onCall = undefined;
  const under = (await second) as Ended;
  assert.equal(under.status, 2);
  assert.match(under.err, /run \w+ is still under way, in process \d+/);
  writeFileSync(join(cwd, 'trails/all.yaml'), 'rows: data/rows.csv\nsteps: [{send: look}, {send: look}]\n');
  const changed = await echoTrail(['run', '--resume', 'last'], { cwd });
  assert.equal(changed.status, 2);
  assert.match(changed.err, /trails of run \w+ were changed since[\s\S]*--failed-of/);
});

test('a number of a process that another has got since keeps nobody from going on', async () => {
  const vendor = await ledger(20);
  const cwd = collectionOf(
    { ...requests, 'trails/all.yaml': 'rows: data/rows.csv\nsteps: [{send: look}]\n', 'data/rows.csv': rowsOf(many) },
    vendor.origin,
  );
  await echoTrail(['run', 'all'], {
    cwd,
    meanwhile: (child) => {
      vendor.onCall = (subject) => subject === 's40' && child.kill('SIGKILL');
    },
  });
  vendor.onCall = undefined;
  const [file = ''] = readdirSync(join(cwd, '.echo-trail/runs'));
  const path = join(cwd, '.echo-trail/runs', file);
  const [first = '', ...rest] = readFileSync(path, 'utf8').split('\n');
  // This process is there, and began a while ago.
  const as = (at: Date): void => {
    const line = { ...JSON.parse(first), process: process.pid, at: at.toISOString() };
    writeFileSync(path, [JSON.stringify(line), ...rest].join('\n'));
  };
  as(new Date());
  const under = await echoTrail(['run', '--resume', 'last'], { cwd });
  assert.deepEqual([under.status, /still under way/.test(under.err)], [2, true]);
  // Only Linux tells in files since when a process has been there.
  if (!existsSync('/proc/self/stat')) return;
  as(new Date(Date.now() - 3_600_000));
  const resumed = await echoTrail(['run', '--resume', 'last'], { cwd });
  assert.equal(resumed.status, 0, resumed.err);
});

test('of two commands that resume a run at the same moment, one does', async () => {
  const vendor = await ledger(20);
  const cwd = collectionOf(
    {
      ...requests,
      'trails/all.yaml': 'rows: data/rows.csv\nsteps: [{send: make}]\n',
      'data/rows.csv': rowsOf(many),
    },
    vendor.origin,
  );
  await echoTrail(['run', 'all'], {
    cwd,
    meanwhile: (child) => {
      vendor.onCall = (subject) => subject === 's5' && child.kill('SIGKILL');
    },
  });
  vendor.onCall = undefined;
  const both = await Promise.all([1, 2].map(() => echoTrail(['run', '--resume', 'last'], { cwd })));
  assert.deepEqual(both.map(({ status }) => status === 2).sort(), [false, true]);
  const refused = both.find(({ status }) => status === 2) as Ended;
  assert.match(refused.err, /resumed run \w+ meanwhile|still under way/);
  for (const [subject, count] of vendor.counts) assert.equal(count, 1, subject);
});

const wrong: readonly (readonly [args: readonly string[], says: RegExp])[] = [
  [['run'], /name a trail, a request or a folder to run/],
  [['run', '--resume', 'zzzz'], /there is no run zzzz|no run is recorded/],
  [['run', 'all', '--resume', 'last'], /--resume takes a run, and the run knows its names/],
  [['run', '--resume', 'last', '--undo', 'last'], /--resume and --undo cannot be combined/],
  [['run', '--resume', 'last', '--rows', '-'], /--rows: the run that --resume names knows its own/],
  [['run', '--undo', 'last', '--dry-run'], /--dry-run and --undo cannot be combined/],
  [['run', '--resume', 'last', '--env', 'sandbox'], /the run knows its environment/],
  [['run', 'all', '--every', '5'], /a duration with its unit/],
  [['run', 'all', '--every', '5m', '--until', 'later'], /--until takes ok or failed/],
  [['run', 'all', '--until', 'ok'], /--until requires/],
  [['run', 'all', '--repeat', '0'], /--repeat/],
];
for (const [args, says] of wrong) {
  test(`${args.join(' ')} is refused`, async () => {
    const cwd = collectionOf({ ...requests, 'trails/all.yaml': 'steps: [{send: look, give: {subject: a}}]\n' });
    const { status, err, out } = await echoTrail(args, { cwd });
    assert.equal(status, 2);
    assert.match(err, says);
    assert.equal(out, '');
  });
}

test('--undo names the call that was in flight when the run was killed, and says that not all is well', async () => {
  const vendor = await ledger(20);
  const cwd = collectionOf(
    {
      ...requests,
      'trails/all.yaml': 'rows: data/rows.csv\nsteps: [{send: make, undo: {send: remove}}]\n',
      'data/rows.csv': rowsOf(many.slice(0, 20)),
    },
    vendor.origin,
  );
  await killedAt(['run', 'all'], cwd, vendor, (subject) => subject === 's8');
  const undone = await echoTrail(['run', '--undo', 'last'], { cwd });
  assert.equal(undone.status, 1, undone.out);
  assert.match(
    undone.out,
    /7 undone, 1 in doubt\nin doubt: these may or may not have happened\n {2}POST .*\/things\/s8/,
  );
  assert.equal(vendor.removed.length, 7);
  // Nothing is taken back twice, and what was taken back is not resumed.
  const again = await echoTrail(['run', '--undo', 'last'], { cwd });
  assert.deepEqual([again.status, vendor.removed.length], [1, 7]);
  const resumed = await echoTrail(['run', '--resume', 'last'], { cwd });
  assert.equal(resumed.status, 2);
  assert.match(resumed.err, /has been undone since, so it cannot be resumed\ntry {4}echo-trail run all starts again/);
});

test('rows that stand elsewhere are known by their content; going on with them is asked for', async () => {
  const vendor = await ledger(3);
  const cwd = collectionOf(
    {
      ...requests,
      'trails/all.yaml':
        'rows: data/rows.csv\nat-once: 4\nsteps: [{send: make}]\ntable: {to: data/out.csv, columns: {subject: "${subject}", made: "${made}"}}\n',
      'data/rows.csv': rowsOf(many),
    },
    vendor.origin,
  );
  await killedAt(['run', 'all'], cwd, vendor, (subject) => subject === 's50');
  const wanted = [...many.toReversed().filter((name) => name !== 's3'), 'new1', 'new2'];
  writeFileSync(join(cwd, 'data/rows.csv'), rowsOf(wanted));
  const refused = await echoTrail(['run', '--resume', 'last'], { cwd });
  assert.equal(refused.status, 2);
  assert.match(refused.err, /the rows have changed since run \w+/);
  assert.match(
    refused.err,
    /all: row 3 was removed or changed; \d+ rows have moved \(row \d+ is now row \d+\); rows 1, 2, 3, 4, 5 and \d+ more were added/,
  );
  assert.match(refused.err, /--rows-changed resumes with the rows as they are now/);
  const resumed = await echoTrail(['run', '--resume', 'last', '--rows-changed', '--json'], { cwd });
  const { rows, inDoubt } = summaryOf(resumed);
  assert.equal(rows.ok + inDoubt.length, wanted.length, resumed.err);
  const lost = doubtful(summaryOf(resumed));
  for (const name of wanted) {
    const count = vendor.counts.get(name) ?? 0;
    assert.ok(count === 1 || (count === 0 && lost.includes(name)), `${name}: ${count}`);
  }
});

test('the new options say what they need', async () => {
  const vendor = await ledger();
  const cwd = collectionOf(
    { ...requests, 'trails/all.yaml': 'steps: [{send: look, give: {subject: a}}]\n' },
    vendor.origin,
  );
  for (const [args, says] of [
    [['run', 'all', '--rows-changed'], /--rows-changed requires --resume/],
    [['run', '--resume', 'last', '--anew'], /--anew and --resume cannot be combined/],
    [['run', 'all', '--anew'], /there is nothing to forget/],
  ] as const) {
    const { status, err } = await echoTrail(args, { cwd });
    assert.equal(status, 2);
    assert.match(err, says);
  }
  assert.equal(vendor.asked.size, 0);
});

test('what once-by handled stays handled from one run to the next, until --anew', async () => {
  const vendor = await ledger();
  const cwd = collectionOf(
    {
      ...requests,
      'environments/other.yaml': `changes: allow\nvariables: {origin: "${vendor.origin}"}\nhosts: [127.0.0.1]\n`,
      'trails/all.yaml':
        'steps:\n  - for-each: {rows: data/rows.csv}\n    as: one\n    once-by: $.subject\n    steps: [{send: make, give: {subject: "${one.subject}"}}]\n    table: {to: data/out.csv, columns: {made: "${made}"}}\n',
      'data/rows.csv': rowsOf(['a', 'bad', 'b']),
    },
    vendor.origin,
  );
  const walked = async (...more: string[]): Promise<Record<string, number>> => {
    vendor.counts.clear();
    const ended = await echoTrail(['run', 'all', ...more], { cwd });
    assert.ok(ended.status < 2, ended.err);
    return Object.fromEntries(vendor.counts);
  };
  assert.deepEqual(await walked(), { a: 1, bad: 1, b: 1 });
  writeFileSync(join(cwd, 'data/rows.csv'), rowsOf(['c', 'b', 'bad', 'a']));
  assert.deepEqual(await walked(), { c: 1, bad: 1 }, 'what failed is not handled');
  assert.equal(
    readFileSync(join(cwd, 'data/out.csv'), 'utf8').match(/made-[abc]\b/g)?.length,
    3,
    'its table has all lines',
  );
  assert.deepEqual(await walked('--env', 'other'), { c: 1, b: 1, bad: 1, a: 1 }, 'each environment by itself');
  assert.deepEqual(await walked('--anew', '--dry-run'), {});
  assert.deepEqual(await walked(), { bad: 1 });
  assert.deepEqual(await walked('--anew'), { c: 1, b: 1, bad: 1, a: 1 });
  assert.deepEqual(await walked(), { bad: 1 });
});

test('a run of which nothing is left says so, to programs too', async () => {
  const vendor = await ledger();
  const cwd = collectionOf(
    { ...requests, 'trails/all.yaml': 'steps: [{send: look, give: {subject: one}}]\n' },
    vendor.origin,
  );
  await echoTrail(['run', 'all'], { cwd });
  const told = await echoTrail(['run', '--resume', 'last'], { cwd });
  assert.deepEqual(
    [told.status, /has finished, without failures: there is nothing left to resume/.test(told.out)],
    [0, true],
  );
  const [line] = documentLines(await echoTrail(['run', '--resume', 'last', '--json'], { cwd }));
  assert.deepEqual([line?.event, line?.ok], ['nothing-left', true]);
});
