/** Rows of a file: as many are announced as are read. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { fileRows, rowsAbout } from '../../src/core/trail/rows/registry.js';
import { temporaryFolder, writeIn } from '../support/folder.js';

const cases: readonly (readonly [name: string, file: string, text: string, rows: number])[] = [
  ['CSV', 'a.csv', 'imo,name\n9000017,Amber Tern\n9000029,Blue Heron\n', 2],
  ['CSV without a last line break', 'b.csv', 'imo\n9000017\n9000029\n9000031', 3],
  ['CSV of names alone', 'c.csv', 'imo,name\n', 0],
  ['lines of JSON', 'd.jsonl', '{"imo": 1}\n{"imo": 2}', 2],
  ['no line', 'e.jsonl', '', 0],
  ['a list', 'f.json', '[{"imo": 1}, {"imo": 2, "calls": [{"berth": "N1"}, {"berth": "W2"}]}]', 2],
  ['a list with brackets in its texts', 'g.json', '\uFEFF[{"a": "],[\\"}"},\n {"b": "{"},\n {"c": "\\\\"}]', 3],
  ['an empty list', 'h.json', ' [ ] ', 0],
];

for (const [name, file, text, rows] of cases) {
  test(`${name}: ${rows} are announced, and as many are read`, async () => {
    const root = temporaryFolder();
    writeIn(root, file, text);
    const read: unknown[] = [];
    for await (const row of fileRows(root, file)) read.push(row);
    assert.deepEqual([await rowsAbout(root, file), read.length], [rows, rows]);
  });
}
