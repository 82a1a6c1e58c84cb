/** What other processes take away meanwhile is no failure. */
import assert from 'node:assert/strict';
import { mkdirSync, symlinkSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { filesIn, namesIn } from '../../../src/core/storage/files-in.js';
import { temporaryFolder } from '../../support/folder.js';

test('a folder that is not there has no files, and a file that is gone by now is left out', () => {
  const folder = temporaryFolder();
  assert.deepEqual(namesIn(join(folder, 'none')), []);
  writeFileSync(join(folder, 'a.jsonl'), '12345');
  // Its name is there, and nothing behind it: as of a file that was removed in between.
  symlinkSync(join(folder, 'gone'), join(folder, 'b.jsonl'));
  writeFileSync(join(folder, 'c.txt'), '');
  assert.deepEqual(
    filesIn(folder, (name) => name.endsWith('.jsonl')).map(({ name, size }) => [name, size]),
    [['a.jsonl', 5]],
  );
  mkdirSync(join(folder, 'empty'));
  assert.deepEqual(filesIn(join(folder, 'empty')), []);
});
