/** A lock that is held for long stays its holder's. */
import assert from 'node:assert/strict';
import { existsSync, mkdirSync, utimesSync, writeFileSync } from 'node:fs';
import { hostname } from 'node:os';
import { join } from 'node:path';
import { mock, test } from 'node:test';
import { setImmediate } from 'node:timers/promises';
import { withFileLock } from '../../../src/core/storage/file-lock.js';
import { setProcesses } from '../../../src/core/storage/processes.js';
import { temporaryFolder } from '../../support/folder.js';

test('a lock that is held for minutes is renewed, and gone when it is released', async () => {
  const path = join(temporaryFolder(), 'state');
  // The library renews the lock by a timer, and takes it for lost where the folder has another time than it set.
  mock.timers.enable({ apis: ['setTimeout', 'Date'], now: Date.now() });
  try {
    await withFileLock(path, async () => {
      for (let minute = 0; minute < 5; minute += 1) {
        mock.timers.tick(31_000);
        for (let turn = 0; turn < 200; turn += 1) await setImmediate();
        assert.ok(existsSync(`${path}.lock`));
      }
    });
    assert.ok(!existsSync(`${path}.lock`), 'a lock that was taken for lost is not released');
  } finally {
    mock.timers.reset();
  }
});

/** Longer than any lock that nobody touches would stay. */
const longAgo = new Date(Date.now() - 3_600_000);

test('a machine that slept does not lose the locks of processes that are still there, and frees those of others', async () => {
  const path = join(temporaryFolder(), 'state');
  let gone = false;
  setProcesses({ own: 4711, isGone: () => gone });
  const order: string[] = [];
  let end = (): void => undefined;
  const released = new Promise<void>((resolve) => {
    end = resolve;
  });
  const first = withFileLock(path, async () => {
    order.push('first');
    utimesSync(`${path}.lock`, longAgo, longAgo);
    await released;
    order.push('first ends');
  });
  while (order.length === 0) await setImmediate();
  const second = withFileLock(path, async () => {
    order.push('second');
  });
  for (let turn = 0; turn < 2000; turn += 1) await setImmediate();
  assert.deepEqual(order, ['first'], 'its holder is there, whatever the time of the lock');
  end();
  await Promise.all([first, second]);
  assert.deepEqual(order, ['first', 'first ends', 'second']);
  // What a process left that is gone, and what one of another machine has not touched for long.
  for (const [machine, process] of [
    [hostname(), 4712],
    ['elsewhere.example', 1],
  ] as const) {
    mkdirSync(`${path}.lock`);
    writeFileSync(`${path}.lock/holder`, JSON.stringify({ process, machine }));
    utimesSync(`${path}.lock`, longAgo, longAgo);
    gone = machine === hostname();
    await withFileLock(path, async () => {
      order.push(machine);
    });
  }
  assert.equal(order.at(-1), 'elsewhere.example');
  setProcesses({ own: 0, isGone: () => false });
});

test('a lock that another has by now is not taken away by whoever held it before', async () => {
  const path = join(temporaryFolder(), 'state');
  setProcesses({ own: 4711, isGone: () => false });
  await withFileLock(path, async () => {
    writeFileSync(`${path}.lock/holder`, JSON.stringify({ process: 4712, machine: hostname() }));
  });
  assert.ok(existsSync(`${path}.lock/holder`));
  setProcesses({ own: 0, isGone: () => false });
});
