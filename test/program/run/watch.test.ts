/** `--watch`: again when files change, however they are written, and only what the change touches. */
import assert from 'node:assert/strict';
import { mkdirSync, renameSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { collectionOf } from '../../support/folder.js';
import { ledger } from '../../support/ledger.js';
import { type Ended, echoTrail } from '../../support/program.js';

/** Takes the next of the steps each time that the command waits for a change, and ends it behind the last. */
function watched(args: readonly string[], cwd: string, steps: readonly (() => void)[]): Promise<Ended> {
  let done = 0;
  let said = '';
  return echoTrail(args, {
    cwd,
    meanwhile(child) {
      child.stderr?.on('data', (text: string) => {
        said += text;
        const waits = said.match(/waiting for a change/g)?.length ?? 0;
        while (done < waits) {
          const step = steps[done];
          done += 1;
          if (step) step();
          else child.kill('SIGINT');
        }
      });
    },
  });
}

const request = (path: string, more = ''): string => `url: \${origin}/things/${path}\nexpect: {status: 200}\n${more}`;
const files = {
  'requests/one.yaml': request('one'),
  'requests/two.yaml': request('two'),
  'trails/first.yaml': 'steps: [{send: one}]\n',
  'trails/second.yaml': 'steps: [{send: two}]\n',
  'trails/table.yaml':
    'rows: data/rows.csv\nsteps: [{send: one}]\ntable: {to: data/found.csv, columns: {row: "${row}"}}\n',
  'data/rows.csv': 'row\n1\n',
};

test('what a change touches is run again: by renaming, in place, in a new folder, and all of it where nobody can tell', {
  timeout: 90_000,
}, async () => {
  const vendor = await ledger();
  const cwd = collectionOf(files, vendor.origin);
  const put = (path: string, text: string): void => writeFileSync(join(cwd, path), text);
  const ended = await watched(['run', 'first', 'second', '--watch'], cwd, [
    () => {
      put('requests/one.yaml.part', request('three'));
      renameSync(join(cwd, 'requests/one.yaml.part'), join(cwd, 'requests/one.yaml'));
    },
    () => put('requests/two.yaml', request('missing2')),
    () => {
      mkdirSync(join(cwd, 'requests/deep'));
      put('requests/deep/four.yaml', request('four'));
      put('requests/two.yaml', request('two'));
    },
    () => put('trails/second.yaml', 'steps: [{send: deep/four}]\n'),
    () => put('trails/second.yaml', 'steps: [{send: nowhere}]\n'),
    () => put('trails/second.yaml', 'steps: [{send: two}]\n'),
  ]);
  assert.deepEqual(
    Object.fromEntries(vendor.asked),
    {
      'GET one': 1,
      'GET two': 3,
      'GET three': 2,
      'GET missing2': 1,
      'GET four': 1,
    },
    ended.err + ended.out,
  );
  assert.match(ended.err, /changed: requests\/one\.yaml/);
  assert.match(ended.err, /nowhere/);
  assert.equal(ended.status, 0);
});

test('what the run itself writes is no change; a changed file of rows is', { timeout: 60_000 }, async () => {
  const vendor = await ledger();
  const cwd = collectionOf(files, vendor.origin);
  const ended = await watched(['run', 'table', '--watch', '--report', join(cwd, 'report.html')], cwd, [
    () => writeFileSync(join(cwd, 'data/rows.csv'), 'row\n1\n2\n'),
  ]);
  assert.equal(vendor.asked.get('GET one'), 3, ended.err);
  assert.equal(ended.status, 0);
});

test('check --watch tells each time, and ends with the status of the last', { timeout: 60_000 }, async () => {
  const cwd = collectionOf(files);
  const ended = await watched(['check', '--watch'], cwd, [
    () => writeFileSync(join(cwd, 'trails/first.yaml'), 'steps: [{send: nowhere}]\n'),
  ]);
  assert.match(ended.out, /no findings[\s\S]*nowhere/);
  assert.equal(ended.status, 2);
});

for (const args of [
  ['--parts', '2'],
  ['--every', '1s'],
  ['--rows', '-'],
])
  test(`run --watch ${args.join(' ')} is refused`, async () => {
    const ended = await echoTrail(['run', 'first', '--watch', ...args], { cwd: collectionOf(files) });
    assert.equal(ended.status, 2);
    assert.match(ended.err, /--watch and --\S+.* cannot be combined/);
  });
