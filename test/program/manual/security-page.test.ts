/** Every sentence of the page on security names the test that holds it: each of them is there. */
import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { basename, join } from 'node:path';
import { test } from 'node:test';
import { projectFolder } from '../../support/program.js';

test('the tests that the page on security names exist', () => {
  const page = readFileSync(join(projectFolder, 'docs/security.md'), 'utf8');
  const sources = new Map<string, string>();
  for (const file of readdirSync(join(projectFolder, 'test'), { recursive: true, encoding: 'utf8' })) {
    if (!file.endsWith('.test.ts')) continue;
    const name = basename(file);
    sources.set(name, (sources.get(name) ?? '') + readFileSync(join(projectFolder, 'test', file), 'utf8'));
  }
  const named = [...page.matchAll(/`([\w-]+\.test\.ts)`: ([^|\n).]+)/g)];
  assert.ok(named.length > 25, String(named.length));
  for (const [, file = '', name = ''] of named)
    assert.ok(sources.get(file)?.includes(name.trim()), `${file}: ${name.trim()}`);
  for (const line of page.split('\n').filter((one) => one.startsWith('| ') && one.includes('test.ts')))
    assert.match(line, /`[\w-]+\.test\.ts`: /, line);
});
