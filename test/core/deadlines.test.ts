/** Deadlines: each ends at its own time, by one timer for all that has the same limit. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { setTimeout as pause } from 'node:timers/promises';
import { type Deadlines, deadlinesOf, type Limited } from '../../src/core/exchange/deadlines.js';

/** The timers of deadlines keep nothing alive; what is waited for does. */
const alive = setInterval(() => undefined, 1000);
test.after(() => clearInterval(alive));

class Waited implements Limited {
  readonly started = performance.now();
  limitedBy: Deadlines | undefined;
  earlier: Limited | undefined;
  later: Limited | undefined;
  after: number | undefined;

  constructor(
    readonly name: string,
    private readonly ended: string[],
  ) {}

  expire(): void {
    this.after = performance.now() - this.started;
    this.ended.push(this.name);
  }
}

function waiting(limit: number, name: string, ended: string[]): Waited {
  const one = new Waited(name, ended);
  deadlinesOf(limit).add(one);
  return one;
}

test('what is not over by its time expires, each by its own limit, not before', async () => {
  const ended: string[] = [];
  const long = waiting(120, 'long', ended);
  const first = waiting(60, 'first', ended);
  await pause(30);
  const second = waiting(60, 'second', ended);
  await pause(200);
  assert.deepEqual(ended, ['first', 'second', 'long']);
  for (const [one, limit] of [
    [first, 60],
    [second, 60],
    [long, 120],
  ] as const)
    assert.ok((one.after ?? 0) >= limit - 1, `${one.name} after ${one.after} ms`);
});

test('what is over before is left alone, wherever it stood in the list', async () => {
  for (const over of [[0], [1], [2], [0, 1], [1, 2], [0, 2], [2, 1, 0]]) {
    const ended: string[] = [];
    const all = ['a', 'b', 'c'].map((name) => waiting(20, name, ended));
    for (const index of over) all[index]?.limitedBy?.remove(all[index]);
    const later = waiting(20, 'later', ended);
    later.limitedBy?.remove(later);
    await pause(60);
    assert.deepEqual(
      ended,
      ['a', 'b', 'c'].filter((_, index) => !over.includes(index)),
    );
    assert.ok(all.every(({ limitedBy, earlier, later: next }) => !limitedBy && !earlier && !next));
  }
});

test('one that comes when all before are over has the whole of its time', async () => {
  const ended: string[] = [];
  const over = waiting(50, 'over', ended);
  over.limitedBy?.remove(over);
  await pause(35);
  const late = waiting(50, 'late', ended);
  await pause(120);
  assert.deepEqual(ended, ['late']);
  assert.ok((late.after ?? 0) >= 49, `after ${late.after} ms`);
});
