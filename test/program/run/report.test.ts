/** What is told of runs from their records alone: while they happen or from disk, of one that was killed, of several together. */
import assert from 'node:assert/strict';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { type Reporter, recordsOf, reportFrom, runSummary } from '../../../src/core/index.js';
import { collectionOf } from '../../support/folder.js';
import { killedAt, ledger } from '../../support/ledger.js';
import { documentLines, echoTrail } from '../../support/program.js';

const subjects = Array.from({ length: 40 }, (_, index) => `s${index + 1}`);
const rowsOf = (names: readonly string[]): string => `subject\n${names.join('\n')}\n`;
const files = {
  'requests/make.yaml':
    'inputs: {subject: {}}\nmethod: POST\nurl: ${origin}/things/{subject}\nbody: {json: {}}\nkeep: {made: $.id}\nexpect: {status: 201}\n',
  'trails/all.yaml': 'rows: data/rows.csv\nsteps:\n  - send: make\n    undo: {send: remove, give: {made: "${made}"}}\n',
  'requests/remove.yaml': 'inputs: {made: {}}\nmethod: DELETE\nurl: ${origin}/things/{made}\n',
  'data/rows.csv': rowsOf(subjects),
};

/** The ten lines of somebody who wants a report of her own. */
class Marks implements Reporter {
  text = '';
  take(record: Parameters<Reporter['take']>[0]): void {
    if (record.event === 'row') this.text += record.ok ? '.' : 'F';
    else if (record.event === 'undo') this.text += record.state === 'done' ? '<' : '!';
  }
  end(): void {
    this.text += '|';
  }
}

test('a reporter of ten lines tells a run from disk as it was told while it happened', async () => {
  const vendor = await ledger();
  const names = ['s1', 'bad2', 's3'];
  const cwd = collectionOf({ ...files, 'data/rows.csv': rowsOf(names) }, vendor.origin);
  const ended = await echoTrail(['run', 'all', '--json'], { cwd });
  assert.equal(ended.status, 1, ended.err);
  const marks = new Marks();
  await reportFrom(recordsOf(join(cwd, '.echo-trail'), 'last'), marks);
  assert.equal(marks.text, '.<F.|');
  // The journal has exactly what was printed.
  const kept: unknown[] = [];
  for await (const record of recordsOf(join(cwd, '.echo-trail'), 'last')) kept.push(record);
  assert.deepEqual(
    documentLines(ended).filter(({ event }) => event !== 'rows'),
    (kept as { event: string }[]).filter(({ event }) => event !== 'rows'),
  );
  // What is made of it in words is the same, but for what a live run has beside.
  const live = await echoTrail(['run', 'all'], { cwd });
  const later = await echoTrail(['report'], { cwd });
  assert.equal(later.out, live.out);
});

test('a run that was killed half-way is summed up from disk, and once more when it was resumed', async () => {
  const vendor = await ledger(2);
  const cwd = collectionOf(files, vendor.origin);
  let calls = 0;
  await killedAt(['run', 'all'], cwd, vendor, () => {
    calls += 1;
    return calls === 21;
  });
  const killed = documentLines(await echoTrail(['report', '--json'], { cwd })).at(-1) as unknown as ReturnType<
    ReturnType<typeof runSummary>['summary']
  >;
  assert.equal(killed.finished, false);
  assert.equal(killed.ok, false);
  // What was about to be written when the kill came may be missing, and no more.
  assert.ok(killed.rows && killed.rows.ok >= 10 && killed.rows.ok <= 20, JSON.stringify(killed));
  assert.match((await echoTrail(['report'], { cwd })).out, /^all: not finished {3}\d+ of \d+ rows/m);
  const resumed = await echoTrail(['run', '--resume', 'last'], { cwd });
  const whole = runSummary();
  await reportFrom(recordsOf(join(cwd, '.echo-trail'), 'last'), whole);
  const { finished, rows, steps, inDoubt, runs } = whole.summary();
  assert.equal(finished, true, resumed.out);
  assert.equal(runs.length, 1);
  assert.deepEqual(rows, { ok: 40 - inDoubt.length, failed: inDoubt.length, before: 0 });
  assert.equal(steps.ok + steps.failed, 40);
});

test('two journals give one summary', async () => {
  const vendor = await ledger();
  const cwd = collectionOf({ ...files, 'data/rows.csv': rowsOf(['s1', 's2', 'bad3']) }, vendor.origin);
  const runs: string[] = [];
  for (let turn = 0; turn < 2; turn += 1) {
    const ended = await echoTrail(['run', 'all', '--json'], { cwd });
    runs.push(documentLines(ended).at(-1)?.run as string);
  }
  const reported = await echoTrail(['report', ...runs, '--json'], { cwd });
  const joined = documentLines(reported).at(-1) ?? {};
  assert.deepEqual(joined.runs, runs);
  assert.deepEqual(joined.rows, { ok: 4, failed: 2, before: 0 });
  assert.deepEqual(joined.expectations, { met: 4, failed: 2 });
  assert.equal(joined.finished, true);
  assert.equal(joined.ok, false);
  const words = await echoTrail(['report', ...runs], { cwd });
  assert.match(
    words.out,
    /^2 runs together: failed {3}4 of 6 rows, 2 failed {3}6 steps, 2 failed {3}4 of 6 expectations met {3}2 undone$/m,
  );
});

test('no secret is in the record, whichever part of it a response gives back', async () => {
  const vendor = await ledger();
  const cwd = collectionOf(
    {
      ...files,
      'requests/make.yaml':
        'inputs: {subject: {}}\nmethod: POST\nurl: ${origin}/things/{subject}\nquery: {pass: "${secret.pass-phrase}"}\nbody: {json: {}}\nexpect: {$.id: "${secret.pass-phrase}", "$.other": {equals: "${secret.pass-phrase}"}}\n',
      'trails/all.yaml': 'rows: data/rows.csv\nsteps: [{send: make}]\n',
      'data/rows.csv': 'subject\nlantern-and-rope-88\n',
    },
    vendor.origin,
  );
  const env = { ECHO_TRAIL_SECRET_PASS_PHRASE: 'lantern-and-rope-88' };
  const ended = await echoTrail(['run', 'all', '--json'], { cwd, env });
  assert.equal(ended.status, 1, ended.err);
  assert.doesNotMatch(ended.out, /lantern-and-rope/);
  let records = 0;
  for await (const record of recordsOf(join(cwd, '.echo-trail'), 'last')) {
    records += 1;
    assert.doesNotMatch(JSON.stringify(record), /lantern-and-rope/);
  }
  assert.ok(records >= 5);
});

test('a run is counted once, however often it is named; one without a record is told; nothing is printed for a wrong name', async () => {
  const vendor = await ledger();
  const cwd = collectionOf({ ...files, 'data/rows.csv': rowsOf(['s1', 's2']) }, vendor.origin);
  const ran = documentLines(await echoTrail(['run', 'all', '--json'], { cwd })).at(-1)?.run as string;
  const twice = await echoTrail(['report', 'last', ran, 'last', '--json'], { cwd });
  assert.deepEqual(documentLines(twice).at(-1)?.rows, { ok: 2, failed: 0, before: 0 });
  const wrong = await echoTrail(['report', 'last', 'nope'], { cwd });
  assert.equal(wrong.status, 2);
  assert.equal(wrong.out, '');
  assert.match(wrong.err, /there is no run nope\ntry +known: \w{4}/);
  writeFileSync(join(cwd, '.echo-trail/runs/29990101T000000000Z-zzzz.jsonl'), 'torn\n{"event":"step"}\n');
  const torn = await echoTrail(['report'], { cwd });
  assert.equal(torn.status, 0, torn.err);
  assert.match(torn.err, /run zzzz has no record/);
});

test('a run that is not there is told, with those that are', async () => {
  const cwd = collectionOf(files);
  const none = await echoTrail(['report'], { cwd });
  assert.equal(none.status, 2);
  assert.match(none.err, /no run is recorded yet/);
});
