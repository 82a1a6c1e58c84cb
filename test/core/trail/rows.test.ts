/** Rows of a file: as many are announced as are read. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { fileRows, rowsAbout } from '../../../src/core/trail/rows/registry.js';
import { temporaryFolder, writeIn } from '../../support/folder.js';

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

const separated: readonly (readonly [name: string, text: string, first: unknown])[] = [
  ['commas', 'imo,a;b\n1,2\n', { imo: '1', 'a;b': '2' }],
  ['semicolons', '\uFEFFimo;name\r\n1;"a;b, c"\r\n', { imo: '1', name: 'a;b, c' }],
  ['tabs', 'imo\tname\n1\ta,b\n', { imo: '1', name: 'a,b' }],
  ['a comma only in quotes', '"imo, long";n\n1;2\n', { 'imo, long': '1', n: '2' }],
  [
    'semicolons, with a line break in a name',
    '"imo\n(seven, digits)";n\n1;2\n',
    { 'imo\n(seven, digits)': '1', n: '2' },
  ],
  ['one column', 'imo\na;b\n', { imo: 'a;b' }],
  ['a line of names in two pieces', `${'x'.repeat(70_000)};b\n1;2\n`, { ['x'.repeat(70_000)]: '1', b: '2' }],
];
for (const [name, text, first] of separated) {
  test(`CSV separated by ${name}`, async () => {
    const root = temporaryFolder();
    writeIn(root, 'a.csv', text);
    const read: unknown[] = [];
    for await (const row of fileRows(root, 'a.csv')) read.push({ ...(row as object) });
    assert.deepEqual(read, [first]);
  });
}

const many = Array.from({ length: 20_000 }, (_, index) => `${9_000_000 + index},Amber Tern\n`).join('');
const faulty: readonly (readonly [name: string, text: string, rows: number, line: number])[] = [
  ['a row with a cell too many', 'imo,name\n1,a\n2,b,c\n3,d\n', 1, 3],
  ['a quote that is not closed', 'imo,name\n1,a\n2,"b\n', 1, 3],
  ['a fault behind many rows, in a later piece of the file', `imo,name\n${many}1\n`, 20_000, 20_002],
];
for (const [name, text, rows, line] of faulty) {
  test(`${name}: what stands before it is read, and its line is told`, async () => {
    const root = temporaryFolder();
    writeIn(root, 'data/vessels.csv', text);
    let read = 0;
    const reading = async (): Promise<void> => {
      for await (const _ of fileRows(root, 'data/vessels.csv')) read += 1;
    };
    await assert.rejects(reading, { code: 'data-shape', where: { file: 'data/vessels.csv', line } });
    assert.equal(read, rows);
  });
}

test('who stops early leaves nothing open', async () => {
  const root = temporaryFolder();
  writeIn(root, 'data/vessels.csv', `imo,name\n${many}`);
  let read = 0;
  for await (const row of fileRows(root, 'data/vessels.csv')) {
    read += 1;
    assert.equal(row.name, 'Amber Tern');
    if (read === 3) break;
  }
  assert.equal(read, 3);
});
