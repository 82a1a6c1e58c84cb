/** How long a server asks to wait, how a gate lets through, how waits grow, which version is newer. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { HostGate, type Turn } from '../../../src/core/pacing/host-gate.js';
import { ownWait, toldOnly } from '../../../src/core/pacing/retry-policy.js';
import { spent, waitAsked } from '../../../src/core/pacing/server-waits.js';
import { compareVersions } from '../../../src/core/run/versions.js';
import { givenClock } from '../../support/clock.js';

const now = Date.UTC(2026, 10, 26, 12, 0, 0);
type Lines = readonly (readonly [string, string])[];

/** RFC 9110 section 10.2.3, with its own examples, and draft-ietf-httpapi-ratelimit-headers. */
const asked: readonly (readonly [lines: Lines, wait: number | undefined])[] = [
  [[['Retry-After', '120']], 120_000],
  [[['retry-after', ' 0 ']], 0],
  [[['Retry-After', 'Thu, 26 Nov 2026 12:00:30 GMT']], 30_000],
  [[['Retry-After', 'Thu, 26 Nov 2026 11:59:00 GMT']], 0],
  [
    [
      ['Date', 'Fri, 31 Dec 1999 23:59:00 GMT'],
      ['Retry-After', 'Fri, 31 Dec 1999 23:59:59 GMT'],
    ],
    59_000,
  ],
  [[['Retry-After', 'soon']], undefined],
  [[['Retry-After', '-5']], undefined],
  [[['RateLimit', '"default";r=0;t=30']], 30_000],
  [[['RateLimit', '"burst";r=3;t=1, "daily";r=0;t=3600']], 3_600_000],
  [[['RateLimit', '"default";r=50;t=30']], undefined],
  [[['RateLimit', 'limit=100, remaining=0, reset=5']], undefined],
  [
    [
      ['RateLimit-Remaining', '0'],
      ['RateLimit-Reset', '7'],
    ],
    7000,
  ],
  [
    [
      ['RateLimit-Remaining', '2'],
      ['RateLimit-Reset', '7'],
    ],
    undefined,
  ],
  [
    [
      ['RateLimit', '"default";r=0;t=30'],
      ['Retry-After', '2'],
    ],
    2000,
  ],
  [[], undefined],
];
for (const [lines, wait] of asked) {
  test(`${lines.map((line) => line.join(': ')).join(', ') || 'no line'} asks for ${wait ?? 'nothing'}`, () => {
    assert.equal(waitAsked(lines, now), wait);
  });
}

test('a quota that is not spent asks for nothing', () => {
  assert.equal(spent([['RateLimit', '"default";r=1;t=30']]), undefined);
  assert.equal(spent([['RateLimit', '"default";r=0;t=3']]), 3000);
});

test('waits grow up to the ceiling, and chance adds up to a half, and takes nothing away', () => {
  const policy = { ...toldOnly, wait: 100, growth: 3, ceiling: 1000 };
  const most = [1, 2, 3, 4, 5].map((tries) => ownWait(policy, tries, 1));
  assert.deepEqual(most, [150, 450, 1000, 1000, 1000]);
  assert.deepEqual(
    [1, 2, 3].map((tries) => ownWait(policy, tries, 0)),
    [100, 300, 900],
  );
});

const entered = (gate: HostGate): { there: boolean; turn: Promise<Turn | undefined> } => {
  const state = { there: false, turn: Promise.resolve<Turn | undefined>(undefined) };
  state.turn = Promise.resolve(gate.enter()).then((turn) => {
    state.there = true;
    return turn;
  });
  return state;
};

test('a gate without a pace lets all through at once', () => {
  const gate = new HostGate({});
  for (let count = 0; count < 100; count += 1) assert.ok(!(gate.enter() instanceof Promise));
});

test('so many at once, and the next when one comes back, in order', async () => {
  const clock = givenClock();
  const gate = new HostGate({ atOnce: 2 }, clock);
  const [a, b] = [gate.enter(), gate.enter()];
  assert.ok(!(a instanceof Promise) && !(b instanceof Promise));
  const [c, d] = [entered(gate), entered(gate)];
  await clock.pass(1000);
  assert.deepEqual([c.there, d.there], [false, false]);
  gate.leave(true);
  await clock.pass(0);
  assert.deepEqual([c.there, d.there], [true, false]);
});

test('a refusal shuts the gate for all, and lets fewer through after it', async () => {
  const clock = givenClock();
  const gate = new HostGate({}, clock);
  const turns = Array.from({ length: 8 }, () => gate.enter() as Turn);
  await clock.pass(1);
  assert.equal(gate.shut(40, turns[0]), 40);
  assert.ok(gate.shut(20, turns[1]) === 0, 'a shorter wait adds nothing');
  for (const [index] of turns.entries()) gate.leave(index > 1);
  const waiting = Array.from({ length: 8 }, () => entered(gate));
  await clock.pass(39);
  assert.equal(waiting.filter(({ there }) => there).length, 0, 'shut');
  await clock.pass(1);
  assert.equal(waiting.filter(({ there }) => there).length, 5, 'half as many, and one more for the responses');
});

test('so many a second leave', async () => {
  const clock = givenClock();
  const gate = new HostGate({ perSecond: 50 }, clock);
  const waiting = Array.from({ length: 6 }, () => entered(gate));
  const there = (): number => waiting.filter((one) => one.there).length;
  const seen: number[] = [];
  for (let at = 0; at <= 100; at += 10) {
    seen.push(there());
    await clock.pass(at === 0 ? 0 : 10);
    seen[seen.length - 1] = there();
  }
  assert.deepEqual(seen, [1, 1, 2, 2, 3, 3, 4, 4, 5, 5, 6]);
});

test('who waits at the gate gives up when it is interrupted', async () => {
  const gate = new HostGate({ atOnce: 1 });
  gate.enter();
  const controller = new AbortController();
  const waiting = gate.enter(controller.signal);
  controller.abort();
  assert.equal(await waiting, undefined);
});

const versions: readonly (readonly [one: string, other: string, sign: number])[] = [
  ['2.1', '2.1.0', 0],
  ['2.10', '2.9', 1],
  ['v3', '2.99.99', 1],
  ['2.0.9', '2.1', -1],
  ['2.1.0-beta+7', '2.1.0', 0],
  ['2026-11-01', '2026', 0],
];
for (const [one, other, sign] of versions) {
  test(`version ${one} against ${other}`, () => {
    assert.equal(Math.sign(compareVersions(one, other)), sign);
  });
}
