/** Deadlines: each ends at its own time, by one timer for all that has the same limit. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { Deadlines, type Limited } from '../../../src/core/exchange/transfer/deadlines.js';
import { type GivenClock, givenClock } from '../../support/clock.js';

class Waited implements Limited {
  readonly started: number;
  limitedBy: Deadlines | undefined;
  earlier: Limited | undefined;
  later: Limited | undefined;
  after: number | undefined;

  constructor(
    readonly name: string,
    private readonly ended: string[],
    private readonly clock: GivenClock,
  ) {
    this.started = clock.now();
  }

  expire(): void {
    this.after = this.clock.now() - this.started;
    this.ended.push(this.name);
  }
}

/** Lists by their limits, as the program has them, with a clock of their own. */
function waitingBy(clock: GivenClock): (limit: number, name: string, ended: string[]) => Waited {
  const lists = new Map<number, Deadlines>();
  return (limit, name, ended) => {
    const one = new Waited(name, ended, clock);
    const list = lists.get(limit) ?? new Deadlines(limit, () => lists.delete(limit), clock);
    lists.set(limit, list);
    list.add(one);
    return one;
  };
}

test('what is not over by its time expires, each by its own limit, not before', async () => {
  const clock = givenClock();
  const waiting = waitingBy(clock);
  const ended: string[] = [];
  const long = waiting(120, 'long', ended);
  const first = waiting(60, 'first', ended);
  await clock.pass(30);
  const second = waiting(60, 'second', ended);
  await clock.pass(200);
  assert.deepEqual(ended, ['first', 'second', 'long']);
  assert.deepEqual([first.after, second.after, long.after], [60, 60, 120]);
});

test('what is over before is left alone, wherever it stood in the list', async () => {
  for (const over of [[0], [1], [2], [0, 1], [1, 2], [0, 2], [2, 1, 0]]) {
    const clock = givenClock();
    const waiting = waitingBy(clock);
    const ended: string[] = [];
    const all = ['a', 'b', 'c'].map((name) => waiting(20, name, ended));
    for (const index of over) all[index]?.limitedBy?.remove(all[index]);
    const later = waiting(20, 'later', ended);
    later.limitedBy?.remove(later);
    await clock.pass(60);
    assert.deepEqual(
      ended,
      ['a', 'b', 'c'].filter((_, index) => !over.includes(index)),
    );
    assert.ok(all.every(({ limitedBy, earlier, later: next }) => !limitedBy && !earlier && !next));
  }
});

test('one that comes when all before are over has the whole of its time', async () => {
  const clock = givenClock();
  const waiting = waitingBy(clock);
  const ended: string[] = [];
  const over = waiting(50, 'over', ended);
  over.limitedBy?.remove(over);
  await clock.pass(35);
  const late = waiting(50, 'late', ended);
  await clock.pass(120);
  assert.deepEqual([ended, late.after], [['late'], 50]);
});
