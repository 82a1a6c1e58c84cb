/** Options that are rarely written, each with what it changes. */
import assert from 'node:assert/strict';
import type { Socket } from 'node:net';
import { test } from 'node:test';
import { collectionOf } from '../../support/folder.js';
import { document, type Ended, echoTrail } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';

test('--depth folds what is deeper, and leaves what is printed for programs whole', async () => {
  const server = await rawServer(() => responseOf('{"berth": {"quay": {"name": "north"}}, "list": [1, 2]}'));
  const cwd = collectionOf({ 'requests/x.yaml': 'url: ${origin}/\n' }, server.origin);
  const shown = async (...args: string[]): Promise<string> => (await echoTrail(['send', 'x', ...args], { cwd })).out;
  assert.match(await shown(), /"north"/);
  const one = await shown('--depth', '1');
  assert.match(one, /"berth"/);
  assert.doesNotMatch(one, /"quay"|"north"/);
  const two = await shown('--depth', '2');
  assert.match(two, /"quay"/);
  assert.doesNotMatch(two, /"north"/);
  const outline = await shown('--view', 'outline', '--depth', '1');
  assert.match(outline, /berth/);
  assert.doesNotMatch(outline, /quay/);
  assert.match(await shown('--view', 'raw'), /"north"/);
  const wrong = await echoTrail(['send', 'x', '--depth', '0'], { cwd });
  assert.deepEqual([wrong.status, /--depth takes a whole number from 1 up/.test(wrong.err)], [2, true], wrong.err);
  await server.close();
});

test('--seed makes what is sent repeat, another one does not', async () => {
  const cwd = collectionOf({
    'requests/x.yaml':
      'url: ${origin}/\nquery: {n: "${random(1, 999999)}"}\nheaders: {X-Agent: "${made-up(\'full name\')}", X-Id: "${uuid}"}\n',
  });
  const preview = async (seed: string): Promise<string> =>
    (await echoTrail(['preview', 'x', '--seed', seed], { cwd })).out;
  const first = await preview('4');
  assert.match(first, /X-Agent/i);
  assert.equal(await preview('4'), first);
  assert.notEqual(await preview('5'), first);
  const wrong = await echoTrail(['preview', 'x', '--seed', 'four'], { cwd });
  assert.deepEqual([wrong.status, /--seed takes a whole number/.test(wrong.err)], [2, true], wrong.err);
});

test('--at-once walks so many rows together, in place of what the trail says', async () => {
  let waiting: Socket[] = [];
  let together = 0;
  const server = await rawServer((_head, socket) => {
    waiting.push(socket);
    // Three are responded together; were fewer at once, nobody would be.
    if (waiting.length === 3) {
      together += 1;
      for (const one of waiting) one.write(responseOf('{}'));
      waiting = [];
    }
    return undefined;
  });
  const cwd = collectionOf(
    {
      'requests/x.yaml': 'inputs: {n: {}}\nurl: ${origin}/{n}\n',
      'trails/t.yaml':
        'rows: [{n: 1}, {n: 2}, {n: 3}, {n: 4}, {n: 5}, {n: 6}]\nsteps: [{send: x, give: {n: "${n}"}}]\n',
    },
    server.origin,
  );
  const ended = await echoTrail(['run', 't', '--at-once', '3'], { cwd });
  await server.close();
  assert.equal(ended.status, 0, ended.out + ended.err);
  assert.deepEqual([together, waiting.length], [2, 0]);
  const wrong = await echoTrail(['run', 't', '--at-once', '0'], { cwd });
  assert.deepEqual([wrong.status, /--at-once takes a whole number from 1/.test(wrong.err)], [2, true], wrong.err);
});

test('compare --unordered: lists in another order do not differ, members that changed still do', async () => {
  const cwd = collectionOf({
    'data/a.json': '{"l": [{"id": "x", "n": 1}, {"id": "y", "n": 2}]}',
    'data/b.json': '{"l": [{"id": "y", "n": 2}, {"id": "x", "n": 1}]}',
    'data/c.json': '{"l": [{"id": "y", "n": 2}, {"id": "x", "n": 3}]}',
  });
  const compared = async (other: string, ...args: string[]): Promise<[number, readonly { at: string }[]]> => {
    const ended = await echoTrail(['compare', 'data/a.json', other, ...args, '--json'], { cwd });
    return [ended.status, document<{ differences: readonly { at: string }[] }>(ended).differences];
  };
  assert.equal((await compared('data/b.json'))[0], 1);
  assert.deepEqual(await compared('data/b.json', '--unordered', '$.l=$.id'), [0, []]);
  const [status, differences] = await compared('data/c.json', '--unordered', '$.l=$.id');
  assert.deepEqual([status, differences.map(({ at }) => at)], [1, ['$.l[?@.id == "x"].n']]);
});

test('compare --time-ratio: how long the second took is a difference too', async () => {
  const server = await rawServer(() => responseOf('{}'));
  const cwd = collectionOf({ 'requests/x.yaml': 'url: ${origin}/\n' }, server.origin);
  const compared = (ratio: string): Promise<Ended> => echoTrail(['compare', 'x', 'x', '--time-ratio', ratio], { cwd });
  const [short, long, wrong] = await Promise.all([compared('0.000001'), compared('1000000'), compared('0')]);
  await server.close();
  assert.equal(short.status, 1, short.out + short.err);
  assert.match(short.out, /time/);
  assert.deepEqual([long.status, long.out], [0, 'no difference\n']);
  assert.deepEqual([wrong.status, /--time-ratio takes a number over 0/.test(wrong.err)], [2, true], wrong.err);
});
