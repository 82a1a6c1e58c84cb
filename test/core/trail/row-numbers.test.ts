/** Numbers of rows: by content, over many rows, and known again by a later command. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { RowNumbers } from '../../../src/core/trail/rows/row-numbers.js';

const many = 200_000;

test('200,000 rows, each twice: every digest is another, and a later command knows all of them', () => {
  const first = new RowNumbers();
  const known = new Map<string, number>();
  for (let row = 0; row < many; row += 1) {
    const { number, digest, known: before } = first.next({ imo: `${9_000_000 + (row % (many / 2))}` });
    assert.equal(before, false);
    known.set(digest, number);
  }
  assert.equal(known.size, many);
  const later = new RowNumbers(known);
  for (let row = 0; row < many; row += 1) {
    const again = later.next({ imo: `${9_000_000 + (row % (many / 2))}` });
    if (!again.known || again.number !== row + 1) assert.fail(`row ${row + 1} is ${JSON.stringify(again)}`);
  }
});
