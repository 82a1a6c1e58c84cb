/** An append-only file: what is added in the very moment in which a write ends is written too. */
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { lineLog } from '../../../src/core/storage/line-log.js';
import { temporaryFolder } from '../../support/folder.js';

for (const ticks of [0, 1, 2, 3, 4, 5])
  test(`a line that is added ${ticks} turns after a write ended is written`, async () => {
    const path = join(temporaryFolder(), 'log.jsonl');
    let waiting = '';
    const log = lineLog(path, () => {
      const text = waiting;
      waiting = '';
      return text;
    });
    const add = (line: string): void => {
      waiting += `${line}\n`;
      log.wake();
    };
    add('one');
    await log.written();
    for (let tick = 0; tick < ticks; tick += 1) await undefined;
    add('two');
    await log.close();
    assert.equal(readFileSync(path, 'utf8'), 'one\ntwo\n');
  });
