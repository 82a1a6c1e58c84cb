/** The questions of the bench: the right operation is found, by what it is called and what is to be done. */
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { findOperations } from '../../../src/core/documentation/explore/search.js';
import { readJson } from '../../support/documentation.js';
import { projectFolder } from '../../support/program.js';

const linesOf = (file: string): string[] =>
  readFileSync(join(projectFolder, 'bench/finding', file), 'utf8')
    .trim()
    .split('\n');

async function described(name: string): Promise<Awaited<ReturnType<typeof readJson>>> {
  const paths: Record<string, Record<string, object>> = {};
  for (const line of linesOf(`${name}.txt`)) {
    const [call = '', operationId, summary] = line.split('|');
    const [method = '', path = ''] = call.split(' ');
    paths[path] = { ...paths[path], [method.toLowerCase()]: { operationId, summary, responses: {} } };
  }
  return readJson({ openapi: '3.0.3', info: { title: name, version: '1' }, paths });
}

const questions = linesOf('questions.txt').map((line) => line.split('|') as [string, string, string]);

test('of the questions of engineers, most have the right operation first, and nearly all among the first three', async () => {
  const missed = { first: [] as string[], three: [] as string[] };
  for (const name of new Set(questions.map(([one]) => one))) {
    const sources = new Map([[name, (await described(name)).index]]);
    for (const [, words, right] of questions.filter(([one]) => one === name)) {
      const { matches } = findOperations(sources, words.split(' '), 3);
      const at = matches.findIndex(({ method, path }) => right.split(', ').includes(`${method} ${path}`));
      if (at !== 0) missed.first.push(words);
      if (at === -1) missed.three.push(words);
    }
  }
  assert.ok(questions.length >= 60);
  assert.ok(missed.first.length <= (questions.length * 25) / 90, missed.first.join('; '));
  assert.ok(missed.three.length <= (questions.length * 10) / 90, missed.three.join('; '));
});

const found = async (name: string, words: string): Promise<string[]> =>
  findOperations(new Map([[name, (await described(name)).index]]), words.split(' ')).matches.map(({ id }) => id);

test('words that say nothing are left out, unless there is nothing else', async () => {
  assert.deepEqual((await found('desk', 'the count of the claims')).slice(0, 1), ['CountClaims']);
  assert.ok((await found('desk', 'from')).includes('ListClaimsFromView'));
});

test('a verb stands for the methods that do it, and for the words that vendors have for it', async () => {
  assert.equal((await found('desk', 'remove a claim'))[0], 'DeleteClaim');
  assert.equal((await found('desk', 'change a claim'))[0], 'UpdateClaim');
  assert.equal((await found('yards', 'destroy a crane'))[0], 'deleteYardV1YardedCrane');
  assert.equal((await found('yards', 'overwrite a crane'))[0], 'replaceYardV1YardedCrane');
  assert.equal((await found('lockers', 'terminate an errand'))[0], 'errandStop');
});

test('where all calls have one method, names tell what they do', async () => {
  assert.equal((await found('lockers', 'list roles'))[0], 'RoleList');
  assert.equal((await found('lockers', 'create a role'))[0], 'RoleAdd');
});

test('plurals and other forms of a word are the word', async () => {
  assert.equal((await found('desk', 'counting claim'))[0], 'CountClaims');
  assert.equal((await found('radio', 'list frequency'))[0], 'frequencies_list');
});
