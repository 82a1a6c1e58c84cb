/** The pages that are made from the code: whole, and of everything. */
import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { fileKinds } from '../../../src/core/collection/files/registry.js';
import { echoTrail, projectFolder } from '../../support/program.js';

const folder = join(projectFolder, 'docs/reference');
const page = (name: string): string => readFileSync(join(folder, name), 'utf8');

for (const name of readdirSync(folder)) {
  test(`${name} has no empty table, no empty part, and nothing that is not known`, () => {
    const text = page(name);
    assert.doesNotMatch(text, /\|---\|[^\n]*\n(?!\|)/, 'a table without a row');
    assert.doesNotMatch(text, /\n##[^\n]*\n+(?=##? |$)/, 'a heading with nothing below it');
    assert.doesNotMatch(text, /undefined|\[object /);
  });
}

test('every kind of file has its place and its keys in the reference', () => {
  const text = page('files.md');
  for (const [kind, { folder: own }] of Object.entries(fileKinds))
    assert.match(text, new RegExp(`## ${kind}: \`${own}/[\\s\\S]*?\\n\\| \``), kind);
});

/** Names of the commands below one, as its help lists them. */
async function commandsBelow(...path: readonly string[]): Promise<string[]> {
  const { out } = await echoTrail([...path, '--help']);
  // The first screen has a heading a stage.
  const heading = path.length === 0 ? /\n[A-Z][a-z ]+:\n([\s\S]*)$/ : /\nCommands:\n([\s\S]*)$/;
  const [, list = ''] = heading.exec(out) ?? [];
  return [...list.matchAll(/^ {2}([a-z][a-z-]*)(?: \[| <| {2,}|$)/gm)].map(([, name = '']) => name);
}

test('every command is in the reference, those below others too, and each has examples', async () => {
  const text = page('commands.md');
  const missing: string[] = [];
  let count = 0;
  const look = async (words: readonly string[]): Promise<void> => {
    const name = words.join(' ');
    const below = words.length === 0 || text.includes(`### echo-trail ${name} `) ? await commandsBelow(...words) : [];
    if (words.length > 0 && (below.length === 0 || text.includes(`### echo-trail ${name}\n`))) {
      count += 1;
      const [, help] = new RegExp(`### echo-trail ${name}\\n([\\s\\S]*?)(?=\\n##|$)`).exec(text) ?? [];
      if (!help?.includes('Examples:')) missing.push(name);
    }
    for (const one of new Set(below)) if (one !== 'help') await look([...words, one]);
  };
  await look([]);
  assert.ok(count > 25, String(count));
  assert.deepEqual(missing, []);
});
