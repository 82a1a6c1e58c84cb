/** A lock that is held for long stays its holder's. */
import assert from 'node:assert/strict';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { mock, test } from 'node:test';
import { setImmediate } from 'node:timers/promises';
import { alone } from '../../src/core/storage/alone.js';
import { temporaryFolder } from '../support/folder.js';

test('a lock that is held for minutes is renewed, and gone when it is released', async () => {
  const path = join(temporaryFolder(), 'state');
  // The library renews the lock by a timer, and takes it for lost where the folder has another time than it set.
  mock.timers.enable({ apis: ['setTimeout', 'Date'], now: Date.now() });
  try {
    await alone(path, async () => {
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
