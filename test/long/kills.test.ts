/**
 * `kill -9` at random moments of a run, of going on with it, and of taking it back: nothing is made or taken back twice, and what
 * may stand although nobody knows is named. The moments are drawn from a seed, which a failure tells.
 */
import assert from 'node:assert/strict';
import { createServer } from 'node:http';
import { after, test } from 'node:test';
import { collectionOf } from '../support/folder.js';
import { documentLines, type Ended, echoTrail } from '../support/program.js';

/** A vendor that makes things and takes them back by POST, and says yes however often it is asked. */
interface Vendor {
  readonly origin: string;
  readonly made: Map<string, number>;
  readonly cancelled: Map<string, number>;
  onCall: (() => void) | undefined;
}

async function vendor(): Promise<Vendor> {
  const own: { -readonly [K in keyof Vendor]: Vendor[K] } = {
    origin: '',
    made: new Map(),
    cancelled: new Map(),
    onCall: undefined,
  };
  const counted = (map: Map<string, number>, key: string): void => {
    map.set(key, (map.get(key) ?? 0) + 1);
  };
  const server = createServer((request, response) => {
    const [, kind, subject = ''] = (request.url ?? '').split('/');
    own.onCall?.();
    if (kind === 'things') counted(own.made, subject);
    if (kind === 'cancel') counted(own.cancelled, subject);
    // Some responses come when the caller is gone already.
    setTimeout(() => {
      response.writeHead(201, { 'content-type': 'application/json' }).end(JSON.stringify({ id: subject }));
    }, 2);
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  after(() => {
    server.closeAllConnections();
    server.close();
  });
  own.origin = `http://127.0.0.1:${(server.address() as { port: number }).port}`;
  return own;
}

/** Numbers in [0, 1) from a seed (the "minimal standard" of Park and Miller). */
function drawnFrom(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 48271) % 2147483647;
    return state / 2147483647;
  };
}

async function killed(args: readonly string[], cwd: string, { draw, own, most }: Kill): Promise<Ended> {
  let left = 1 + Math.floor(draw() * most);
  const later = Math.floor(draw() * 4);
  const ended = await echoTrail(args, {
    cwd,
    meanwhile: (child) => {
      own.onCall = () => {
        left -= 1;
        if (left === 0) setTimeout(() => child.kill('SIGKILL'), later);
      };
    },
  });
  own.onCall = undefined;
  return ended;
}

interface Kill {
  readonly draw: () => number;
  readonly own: Vendor;
  /** It is killed after so many calls at most. */
  readonly most: number;
}

const subjects = Array.from({ length: 18 }, (_, index) => `s${index + 1}`);
const seeds = Array.from({ length: 20 }, (_, index) => 1000 + 77 * index);

for (const group of [seeds.slice(0, 7), seeds.slice(7, 14), seeds.slice(14)]) {
  test(`killed at random moments, seeds ${group.join(', ')}`, { concurrency: true }, async () => {
    for (const seed of group) await oneLife(seed);
  });
}

async function oneLife(seed: number): Promise<void> {
  const draw = drawnFrom(seed);
  const own = await vendor();
  const cwd = collectionOf(
    {
      'requests/make.yaml':
        'inputs: {subject: {}}\nmethod: POST\nurl: ${origin}/things/{subject}\nbody: {json: {}}\nkeep: {made: $.id}\n',
      'requests/cancel.yaml': 'inputs: {made: {}}\nmethod: POST\nurl: ${origin}/cancel/{made}\n',
      'trails/all.yaml':
        'rows: data/rows.csv\nat-once: 3\nundo: never\nsteps:\n  - {send: make, undo: {send: cancel}}\n',
      'data/rows.csv': `subject\n${subjects.join('\n')}\n`,
    },
    own.origin,
  );
  const about = (what: string): string => `seed ${seed}: ${what}`;
  await killed(['run', 'all'], cwd, { draw, own, most: 12 });
  await killed(['run', '--resume', 'last'], cwd, { draw, own, most: 12 });
  const resumed = await echoTrail(['run', '--resume', 'last', '--json'], { cwd });
  const summary = documentLines(resumed).at(-1) as unknown as { inDoubt?: readonly string[] };
  for (const [subject, count] of own.made) assert.equal(count, 1, about(`${subject} was made ${count} times`));
  // What the run says of its doubts is all that is missing.
  const doubted = (summary.inDoubt ?? []).map((text) => /things\/(\w+)/.exec(text)?.[1] ?? text);
  const missing = subjects.filter((subject) => !own.made.has(subject));
  for (const subject of missing) assert.ok(doubted.includes(subject), about(`${subject} is neither made nor in doubt`));

  await killed(['run', '--undo', 'last'], cwd, { draw, own, most: 14 });
  const undone = await echoTrail(['run', '--undo', 'last', '--json'], { cwd });
  const last = documentLines(undone).at(-1) as unknown as { inDoubt: readonly string[]; notUndone: number };
  for (const [subject, count] of own.cancelled)
    assert.equal(count, 1, about(`${subject} was taken back ${count} times`));
  const named = last.inDoubt.map((text) => /(?:things|cancel)\/(\w+)/.exec(text)?.[1] ?? text);
  const standing = [...own.made.keys()].filter((subject) => !own.cancelled.has(subject));
  for (const subject of standing) assert.ok(named.includes(subject), about(`${subject} stands, and is not named`));
  assert.equal(undone.status, last.inDoubt.length > 0 ? 1 : 0, about(undone.err));
}
