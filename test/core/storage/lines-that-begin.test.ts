/** Lines found by how they begin, wherever the pieces end in which a file is read. */
import assert from 'node:assert/strict';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { linesThatBegin } from '../../../src/core/storage/lines-that-begin.js';
import { temporaryFolder } from '../../support/folder.js';

test('a line is found where one piece ends and the next begins, and only where a line begins', () => {
  const path = join(temporaryFolder(), 'journal.jsonl');
  const wanted = ['{"line":"run","run":"', '{"line":"resumed","run":"'];
  const [first, later] = ['{"line":"run","run":"a1"}', '{"line":"resumed","run":"b2"}'];
  for (let shift = -60; shift <= 60; shift += 1) {
    // Inside of a line it is text of the vendor.
    const other = `{"line":"step","text":"${later.replaceAll('"', '\\"')} ${later}"}`;
    const before = `${first}\n${other}\n`;
    const filler = `${'x'.repeat(1_000_000 + shift - before.length - 1)}\n`;
    writeFileSync(path, `${before}${filler}${later}\n${other}\n${later}`);
    assert.deepEqual(linesThatBegin(path, wanted, 40), [first, later, later], String(shift));
  }
  writeFileSync(path, '');
  assert.deepEqual(linesThatBegin(path, wanted, 40), []);
  assert.deepEqual(linesThatBegin(join(path, 'none'), wanted, 40), []);
});
