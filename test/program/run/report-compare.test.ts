/** Two runs compared: what broke, what was fixed, and which steps became slower. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { compareRuns } from '../../../src/core/report/compare-runs.js';
import type { RunRecord } from '../../../src/core/trail/record/run-record.js';
import { collectionOf, writeIn } from '../../support/folder.js';
import { document, documentLines, echoTrail } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';

let night = 1;
/** Berths that are closed in the first night, and in the second. */
const closed: readonly (readonly string[])[] = [
  ['N2', 'N4'],
  ['N3', 'N4'],
];
const server = await rawServer((head) => {
  const code = /\/berths\/(\w+)/.exec(head)?.[1] ?? '';
  return responseOf('{}', { status: closed[night - 1]?.includes(code) ? '404 Not Found' : '200 OK' });
});
const files = {
  'requests/show.yaml': 'inputs: {code: {}}\nurl: ${origin}/berths/{code}\nexpect: {status: 200}\n',
  'trails/berths.yaml': 'rows: data/codes.csv\nsteps: [{send: show}]\n',
};
const codes = (...all: string[]): string => `code\n${all.join('\n')}\n`;

test('cases are known by their rows, wherever those stand; what broke ends with 1', async () => {
  const cwd = collectionOf({ ...files, 'data/codes.csv': codes('N1', 'N2', 'N3', 'N4', 'N5') }, server.origin);
  const ran = async (): Promise<string> => {
    const [first] = documentLines(await echoTrail(['run', 'berths', '--json'], { cwd }));
    return String(first?.run);
  };
  const before = await ran();
  night = 2;
  writeIn(cwd, 'data/codes.csv', codes('N4', 'N3', 'N2', 'N1', 'N6'));
  const after = await ran();
  const compared = await echoTrail(['report', before, after, '--compare'], { cwd });
  assert.equal(compared.status, 1, compared.err);
  assert.match(compared.out, /broke +berths: row 2 N3: show[\s\S]*status: expected 200, found 404/);
  assert.match(compared.out, /fixed +berths: row 3 N2: show/);
  assert.match(compared.out, /still fails +berths: row 1 N4: show/);
  assert.match(compared.out, /1 broke +1 fixed +1 still failing +2 passed in both +1 new +1 gone/);
  const found = document<{ broke: { name: string }[]; steps: { verdict: string }[] }>(
    await echoTrail(['report', before, after, '--compare', '--json'], { cwd }),
  );
  assert.deepEqual([found.broke.map(({ name }) => name), found.steps.length], [['row 2 N3: show'], 1]);
  const back = await echoTrail(['report', after, after, '--compare'], { cwd });
  assert.equal(back.status, 2);
  assert.match(back.err, /takes two runs that are not the same/);
  assert.match(
    (await echoTrail(['report', before, after, '--compare', '--as', 'tap'], { cwd })).err,
    /--compare cannot be combined with --as/,
  );
});

async function* timed(times: readonly number[]): AsyncGenerator<RunRecord> {
  yield { event: 'walk', walk: 0, walked: 't', rows: null, steps: ['a'] };
  for (const [row, time] of times.entries())
    yield {
      event: 'step',
      walk: 0,
      step: 'a',
      kind: 'send',
      state: 'ok',
      depth: 0,
      row,
      member: null,
      status: 200,
      time,
      expectations: { met: 1, failed: [] },
      kept: [],
      problems: [],
      echo: null,
    };
}
const around = (middle: number, width: number): number[] =>
  Array.from({ length: 40 }, (_, at) => middle + (at % 10) * (width / 10));

for (const [name, before, after, verdict] of [
  ['twice as long', around(100, 20), around(200, 20), 'slower'],
  ['half as long', around(200, 20), around(100, 20), 'faster'],
  ['longer, within what they differ by anyhow', around(100, 200), around(130, 200), 'same'],
  ['a little longer, always', around(100, 1), around(104, 1), 'same'],
  ['too few', [100, 100], [900, 900], 'unknown'],
] as const)
  test(`times: ${name}`, async () => {
    const { steps } = await compareRuns(timed(before), timed(after));
    assert.equal(steps[0]?.verdict, verdict);
  });
