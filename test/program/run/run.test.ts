/** `run`: trails walked against the harbour, with undo, rows, interruption and a killed process. */
import assert from 'node:assert/strict';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { collectionOf, demoCollection, writeIn } from '../../support/folder.js';
import { document, documentLines, echoTrail } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';
import { harbourForThisFile } from '../../support/standin.js';

const standin = await harbourForThisFile();
const env = { ECHO_TRAIL_SECRET_DESK_PASSWORD: standin.credentials.password };

async function callsAtHarbour(): Promise<number> {
  const post = await fetch(`${standin.origin}/v1/sessions`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(standin.credentials),
  });
  const { token } = (await post.json()) as { token: string };
  const list = await fetch(`${standin.origin}/v1/calls`, { headers: { authorization: `Bearer ${token}` } });
  return ((await list.json()) as { total: number }).total;
}

test('the demo trail walks from log-in to log-out, and leaves nothing behind', async () => {
  const cwd = demoCollection(standin.origin);
  const before = await callsAtHarbour();
  const walked = await echoTrail(['run', 'berth-stay', '--json'], { cwd, env });
  assert.equal(walked.status, 0, walked.err);
  const events = documentLines(walked);
  assert.deepEqual(
    events.map((event) => event.step ?? event.session ?? event.event),
    [
      'run',
      'walk',
      'inputs',
      'agent',
      'vessels/show',
      'berths/free',
      'calls/book',
      'read it back',
      'stay longer',
      'only the nights have changed',
      'calls/cancel',
      'it is gone',
      'agent',
      'summary',
    ],
  );
  const summary = events.at(-1) as {
    ok: boolean;
    expectations: { met: number; failed: number };
    steps: object;
    undone: number;
  };
  assert.deepEqual([summary.ok, summary.expectations.failed, summary.undone], [true, 0, 0]);
  assert.ok(summary.expectations.met >= 28);
  assert.deepEqual(summary.steps, { ok: 8, failed: 0, skipped: 0 });
  assert.equal(await callsAtHarbour(), before);
});

test('a trail that fails half-way is undone, newest first, and its status is 1', async () => {
  const cwd = demoCollection(standin.origin);
  const before = await callsAtHarbour();
  const { status, out } = await echoTrail(['run', 'berth-stay', '--set', 'new-nights=40'], { cwd, env });
  assert.equal(status, 1);
  assert.match(
    out,
    /failed +stay longer +PATCH 422[\s\S]*\/nights must be <= 14[\s\S]*undone +calls\/book by calls\/cancel +DELETE 204[\s\S]*closed +session agent[\s\S]*berth-stay: failed .*1 undone/,
  );
  assert.equal(await callsAtHarbour(), before);
});

/** A vendor that makes things under numbers, and counts what it is asked. */
async function things(): Promise<{ origin: string; asked: string[]; made: Set<string>; close(): Promise<void> }> {
  const asked: string[] = [];
  const made = new Set<string>();
  let count = 0;
  const server = await rawServer((head, socket) => {
    const [method = '', path = ''] = head.split(' ');
    asked.push(`${method} ${path}`);
    if (path.startsWith('/silent')) return undefined;
    if (path.startsWith('/lost')) return void socket.destroy();
    if (path.startsWith('/bad')) return responseOf('{"error": true}', { status: '500 Broken' });
    if (path.startsWith('/refuse')) return responseOf('{}', { status: '409 Conflict' });
    if (method === 'POST') {
      count += 1;
      made.add(`t${count}`);
      return responseOf(`{"id": "t${count}", "parent": "${path.split('/')[2] ?? ''}"}`, { status: '201 Created' });
    }
    const id = path.split('/').at(-1) ?? '';
    if (method === 'DELETE') {
      if (!made.delete(id)) return responseOf('{}', { status: '404 Not Found' });
      return responseOf('', { status: '204 No Content' });
    }
    return responseOf(`{"id": "${id}", "list": [1, 2]}`);
  });
  return { origin: server.origin, asked, made, close: server.close };
}

const requests = {
  'requests/make.yaml':
    'inputs: {parent: {default: none}}\nmethod: POST\nurl: ${origin}/things/{parent}\nexpect: {status: 201}\nkeep: {thing: $.id}\n',
  'requests/remove.yaml': 'inputs: {thing: {}}\nmethod: DELETE\nurl: ${origin}/things/{thing}\nexpect: {status: 204}\n',
  'requests/get.yaml':
    'inputs: {thing: {default: x}, path: {default: things}}\nurl: ${origin}/{path}/{thing}\nexpect: {status: 200}\n',
  'requests/change.yaml': 'inputs: {path: {default: things}}\nmethod: POST\nurl: ${origin}/{path}\n',
};

interface TrailCase {
  readonly name: string;
  readonly trail: string;
  readonly status: number;
  readonly asked: readonly string[];
  readonly left?: number;
  readonly out?: RegExp;
  readonly args?: readonly string[];
}

const made = '  - {send: make, undo: {send: remove}}\n';
const walks: readonly TrailCase[] = [
  {
    name: 'undo parts run newest first, with the values as they were',
    trail: `steps:\n${made}${made}  - {send: get, give: {path: bad}}\n`,
    status: 1,
    asked: ['POST /things/none', 'POST /things/none', 'GET /bad/t2', 'DELETE /things/t2', 'DELETE /things/t1'],
    left: 0,
    out: /2 undone/,
  },
  {
    name: 'nothing is undone where all went well',
    trail: `steps:\n${made}`,
    status: 0,
    asked: ['POST /things/none'],
    left: 1,
  },
  {
    name: 'undo: always undoes even then',
    trail: `undo: always\nsteps:\n${made}`,
    status: 0,
    asked: ['POST /things/none', 'DELETE /things/t1'],
    left: 0,
  },
  {
    name: 'undo: never undoes nothing',
    trail: `undo: never\nsteps:\n${made}  - {send: get, give: {path: bad}}\n`,
    status: 1,
    asked: ['POST /things/none', 'GET /bad/t1'],
    left: 1,
  },
  {
    name: 'a step that never ran arms nothing',
    trail: `steps:\n  - {send: get, give: {path: bad}}\n${made}`,
    status: 1,
    asked: ['GET /bad/x'],
    left: 0,
  },
  {
    name: 'a step that the vendor refused needs no undo',
    trail: 'steps:\n  - {send: change, give: {path: refuse}, undo: {send: remove, give: {thing: t9}}}\n',
    status: 1,
    asked: ['POST /refuse'],
  },
  {
    name: 'what is gone already need not be undone',
    trail: `undo: always\nsteps:\n${made}  - {send: remove}\n`,
    status: 0,
    asked: ['POST /things/none', 'DELETE /things/t1', 'DELETE /things/t1'],
    out: /not needed: it is gone already/,
  },
  {
    name: 'a changing call without a response is in doubt, and its undo is tried',
    trail: 'steps:\n  - {send: change, give: {path: lost}, keep: {thing: $.thing}, undo: {send: remove}}\n',
    status: 3,
    asked: ['POST /lost'],
    out: /not undone: change \(a value for remove is missing\)[\s\S]*in doubt[\s\S]*POST .*\/lost/,
  },
  {
    name: 'a step is skipped when its condition does not hold',
    trail:
      'inputs: {kind: {default: coaster}}\nsteps:\n  - {send: get, only-if: {kind: tanker}}\n  - {send: get, only-if: {missing: {exists: false}, kind: {one-of: [coaster, ferry]}}, give: {thing: yes}}\n',
    status: 0,
    asked: ['GET /things/yes'],
    out: /skipped +get[\s\S]*1 skipped/,
  },
  {
    name: 'names are kept by a step of their own, each may use the one before',
    trail: 'steps:\n  - {keep: {a: "x", b: "${a}-y"}}\n  - {send: get, give: {thing: "${b | upper}"}}\n',
    status: 0,
    asked: ['GET /things/X-Y'],
  },
  {
    name: 'an expectation of a step may use what was kept; types survive',
    trail: 'steps:\n  - {keep: {n: 2}}\n  - {send: get, expect: {$.list: {count: "${n}"}, "$.list[1]": "${n}"}}\n',
    status: 0,
    asked: ['GET /things/x'],
  },
  {
    name: 'a step that expects a status of its own speaks of another response',
    trail: 'steps:\n  - {send: get, give: {path: bad}, expect: {status: 5xx, $.error: true}}\n',
    status: 0,
    asked: ['GET /bad/x'],
  },
  {
    name: 'a value that is not there fails the step, a default does not',
    trail: 'steps:\n  - {send: get, keep: {a: {at: $.none, default: 7}}}\n  - {send: get, keep: {b: $.lst}}\n',
    status: 1,
    asked: ['GET /things/x', 'GET /things/x'],
    out: /b is not kept: there is nothing at \$\.lst[\s\S]*nearest: \$\.list/,
  },
  {
    name: 'only: true wants exactly one',
    trail: 'steps:\n  - {send: get, keep: {a: {at: "$.list[*]", only: true}}}\n',
    status: 1,
    asked: ['GET /things/x'],
    out: /holds 2 items, and only: true needs one\n +they are \S+, \S+\n/,
  },
  {
    name: 'what is kept stays although an expectation failed',
    trail: `steps:\n  - {send: make, expect: {$.id: other}, undo: {send: remove}}\n`,
    status: 1,
    asked: ['POST /things/none', 'DELETE /things/t1'],
    left: 0,
  },
  {
    name: 'an inner trail has inputs of its own and gives back what is asked for; its undo belongs to the whole',
    trail:
      'steps:\n  - trail: inner\n    give: {parent: p7}\n    keep: {mine: "${thing}"}\n  - {send: get, give: {thing: "${mine}", path: bad}}\n',
    status: 1,
    asked: ['POST /things/p7', 'GET /bad/t1', 'DELETE /things/t1'],
    left: 0,
  },
  {
    name: '--set gives the inputs of the trail',
    trail: 'inputs: {thing: {}}\nsteps:\n  - {send: get}\n',
    status: 0,
    asked: ['GET /things/z'],
    args: ['--set', 'thing=z'],
  },
];

for (const { name, trail, status, asked, left, out, args = [] } of walks) {
  test(name, async () => {
    const vendor = await things();
    const cwd = collectionOf(
      { ...requests, 'trails/t.yaml': trail, 'trails/inner.yaml': `inputs: {parent: {}}\nsteps:\n${made}` },
      vendor.origin,
    );
    const walked = await echoTrail(['run', 't', ...args], { cwd });
    assert.equal(walked.status, status, walked.out + walked.err);
    assert.deepEqual(vendor.asked, asked);
    if (left !== undefined) assert.equal(vendor.made.size, left);
    if (out) assert.match(walked.out, out);
    await vendor.close();
  });
}

test('several names are walked one after the other; requests are trails of one step', async () => {
  const vendor = await things();
  const cwd = collectionOf({ ...requests, 'trails/t.yaml': `steps:\n${made}` }, vendor.origin);
  const { status, out } = await echoTrail(['run', 'get', 't', 'get', '--set', 'thing=q'], { cwd });
  assert.equal(status, 0, out);
  assert.deepEqual(vendor.asked, ['GET /things/q', 'POST /things/none', 'GET /things/q']);
  await vendor.close();
});

for (const [kind, text] of [
  ['csv', 'thing,note\n007,"a, b"\n"8",\nbad,x\n10,y\n'],
  [
    'jsonl',
    '{"thing": "007", "note": "a, b"}\n\n{"thing": "8", "note": ""}\n{"thing": "bad", "note": "x"}\n{"thing": "10", "note": "y"}\n',
  ],
] as const) {
  test(`rows come from ${kind}, each a scope of its own; one that fails does not end the others`, async () => {
    const vendor = await things();
    const cwd = collectionOf(
      {
        ...requests,
        [`data/rows.${kind}`]: text,
        'trails/t.yaml': `rows: data/rows.${kind}\nat-once: 3\nsteps:\n  - {send: get, expect: {$.id: {not: bad}, $: {exists: true}}}\n`,
      },
      vendor.origin,
    );
    const walked = await echoTrail(['run', 't', '--json'], { cwd });
    assert.equal(walked.status, 1);
    assert.deepEqual([...vendor.asked].sort(), [
      'GET /things/007',
      'GET /things/10',
      'GET /things/8',
      'GET /things/bad',
    ]);
    const events = documentLines(walked);
    assert.deepEqual((events.at(-1) as { rows: unknown }).rows, { ok: 3, failed: 1, before: 0 });
    assert.deepEqual(
      events.filter(({ event, ok }) => event === 'row' && ok === false).map(({ row }) => row),
      [3],
    );
    await vendor.close();
  });
}

test('no more rows are walked at once than is said', async () => {
  let open = 0;
  let most = 0;
  const server = await rawServer((_head, socket) => {
    open += 1;
    most = Math.max(most, open);
    setTimeout(() => {
      open -= 1;
      socket.write(responseOf('{"id": "x"}'));
    }, 40);
    return undefined;
  });
  const rows = Array.from({ length: 24 }, (_, index) => `{"thing": "r${index}"}`).join('\n');
  const cwd = collectionOf(
    {
      ...requests,
      'data/rows.jsonl': rows,
      'trails/t.yaml': 'rows: data/rows.jsonl\nat-once: 4\nsteps: [{send: get}]\n',
    },
    server.origin,
  );
  assert.equal((await echoTrail(['run', 't'], { cwd })).status, 0);
  assert.equal(most, 4);
  await server.close();
});

test('a value that an input does not take says where it comes from, and only of --set that --set mends it', async () => {
  const cwd = collectionOf({
    'requests/r.yaml': 'inputs: {nights: {type: integer}}\nurl: ${origin}\nquery: {n: "${nights}"}\n',
    'trails/rows.yaml': 'rows: [{nights: two}]\nsteps: [{send: r}]\n',
    'trails/given.yaml': 'steps: [{name: book, send: r, give: {nights: two}}]\n',
  });
  const said = async (...args: string[]): Promise<string> => {
    const { out, err } = await echoTrail(args, { cwd });
    return out + err;
  };
  const row = await said('run', 'rows', '--dry-run');
  assert.match(row, /failed +row 1 \(two\): r[\s\S]*must be of type integer; it comes from row 1 of the list/);
  assert.doesNotMatch(row, /--set/);
  assert.match(await said('run', 'given', '--dry-run'), /it was given by step book/);
  assert.match(await said('preview', 'r', '--set', 'nights=two'), /must be of type integer\ntry +--set nights=VALUE/);
});

test('rows that are not there are told at the trail that names them, and at no place where --rows does', async () => {
  const cwd = collectionOf({
    'requests/r.yaml': 'url: ${origin}\n',
    'trails/t.yaml': 'rows: data/none.csv\nsteps: [{send: r}]\n',
  });
  assert.match((await echoTrail(['run', 't'], { cwd })).err, /data\/none\.csv does not exist\nat +trails\/t\.yaml:1:7/);
  const named = (await echoTrail(['run', 't', '--rows', 'data/other.csv'], { cwd })).err;
  assert.match(named, /data\/other\.csv does not exist\ntry/);
});

test('a row that cannot be read ends the run with its line', async () => {
  const vendor = await things();
  const cwd = collectionOf(
    {
      ...requests,
      'data/rows.jsonl': '{"thing": "1"}\n{"thing": \n',
      'data/rows.csv': 'thing,b\n1,2\n1,2,3\n',
      'trails/j.yaml': 'rows: data/rows.jsonl\nsteps: [{send: get}]\n',
      'trails/c.yaml': 'rows: data/rows.csv\nsteps: [{send: get}]\n',
    },
    vendor.origin,
  );
  for (const [trail, place] of [
    ['j', 'rows.jsonl:2'],
    ['c', 'rows.csv:3'],
  ] as const) {
    const walked = await echoTrail(['run', trail, '--json'], { cwd });
    assert.equal(walked.status, 2, walked.err);
    const { problem } = documentLines(walked).at(-1) as { problem: { code: string } };
    assert.equal(problem.code, 'data-shape');
    const shown = await echoTrail(['run', trail], { cwd });
    assert.ok((shown.out + shown.err).includes(place), shown.out + shown.err);
  }
  await vendor.close();
});

test('Ctrl-C ends the walk, undoes what was made, and gives status 130', async () => {
  const vendor = await things();
  const cwd = collectionOf(
    { ...requests, 'trails/t.yaml': `steps:\n${made}  - {send: get, give: {path: silent}}\n` },
    vendor.origin,
  );
  const walked = await echoTrail(['run', 't'], {
    cwd,
    meanwhile: (child) => {
      const wait = setInterval(() => {
        if (!vendor.asked.some((call) => call.includes('/silent'))) return;
        clearInterval(wait);
        child.kill('SIGINT');
      }, 20);
    },
  });
  assert.equal(walked.status, 130, walked.out + walked.err);
  assert.deepEqual(vendor.asked, ['POST /things/none', 'GET /silent/t1', 'DELETE /things/t1']);
  assert.match(walked.err, /interrupted: cleaning up/);
  assert.match(walked.out, /undone +make by remove[\s\S]*t: interrupted/);
  await vendor.close();
});

test('a run that is killed can be read: its echoes are there, and a line cut in two is passed over', async () => {
  const vendor = await things();
  const rows = Array.from({ length: 30 }, (_, index) => `{"thing": "r${index}"}`)
    .concat('{"thing": "x", "path": "silent"}')
    .join('\n');
  const cwd = collectionOf(
    { ...requests, 'data/rows.jsonl': rows, 'trails/t.yaml': 'rows: data/rows.jsonl\nsteps: [{send: get}]\n' },
    vendor.origin,
  );
  const walked = await echoTrail(['run', 't'], {
    cwd,
    meanwhile: (child) => {
      const wait = setInterval(() => {
        if (!vendor.asked.some((call) => call.includes('/silent'))) return;
        clearInterval(wait);
        setTimeout(() => child.kill('SIGKILL'), 300);
      }, 20);
    },
  });
  assert.notEqual(walked.status, 0);
  const folder = join(cwd, '.echo-trail/echoes');
  const [file = ''] = readdirSync(folder);
  const lines = readFileSync(join(folder, file), 'utf8');
  writeFileSync(join(folder, file), `${lines}{"id":"cut`);
  const { echoes } = document<{ echoes: { url: string }[] }>(
    await echoTrail(['echo', 'list', '--limit', '100', '--json'], { cwd }),
  );
  assert.equal(echoes.length, 30);
  await vendor.close();
});

test('only so many runs are kept', async () => {
  const vendor = await things();
  const cwd = collectionOf(
    { ...requests, 'echo-trail.yaml': 'name: t\nenvironment: sandbox\nechoes: {runs: 2}\n' },
    vendor.origin,
  );
  for (let count = 0; count < 4; count += 1) await echoTrail(['send', 'get'], { cwd });
  assert.equal(readdirSync(join(cwd, '.echo-trail/echoes')).length, 2);
  await vendor.close();
});

test('before the first step, everything that the trail names is read', async () => {
  const vendor = await things();
  const cwd = collectionOf(
    {
      ...requests,
      'trails/t.yaml': 'steps:\n  - send: make\n  - send: remvoe\n',
      'trails/a.yaml': 'steps: [{trail: b}]\n',
      'trails/b.yaml': 'steps: [{trail: a}]\n',
    },
    vendor.origin,
  );
  const missing = await echoTrail(['run', 't'], { cwd });
  assert.equal(missing.status, 2);
  assert.match(missing.err, /no request remvoe[\s\S]*trails\/t\.yaml:3:11[\s\S]*did you mean remove/);
  const circle = await echoTrail(['run', 'a'], { cwd });
  assert.equal(circle.status, 2);
  assert.match(circle.err, /circle/);
  const unknown = await echoTrail(['run', 'make', '--set', 'parnt=1'], { cwd });
  assert.equal(unknown.status, 2);
  assert.match(unknown.err, /--set parnt: no input or variable has that name[\s\S]*did you mean parent/);
  writeIn(cwd, 'trails/t.yaml', 'inputs: {thing: {about: which one}}\nsteps: [{send: get}]\n');
  const input = await echoTrail(['run', 't'], { cwd });
  assert.equal(input.status, 2);
  assert.match(input.err, /trail t needs the input thing \(which one\)/);
  assert.deepEqual(vendor.asked, []);
  await vendor.close();
});

test('names that a later step would stumble over are told before anything is sent', async () => {
  const sent: string[] = [];
  const server = await rawServer((head) => {
    sent.push(head);
    return responseOf('{"id": 7}');
  });
  const cwd = collectionOf(
    {
      'data/rows.csv': 'imo;"name"\n1;a\n',
      'data/other.csv': 'imo,flag\n1,b\n',
      'data/rows.json': '[{"imo": "1", "name": "a"}]',
      'requests/make.yaml': 'method: POST\nurl: ${origin}/make\nkeep: {id: $.id}\n',
      'requests/look.yaml': 'inputs: {id: {}}\nurl: ${origin}/look/{id}\nquery: {at: "${desk}"}\n',
      'sessions/desk.yaml': 'kind: bearer\ntoken: t-77777777\nsupply: {desk: north}\n',
      'requests/wrong.yaml': 'url: ${origin}/wrong\nquery: {at: "${dexk}"}\n',
      'trails/later.yaml': 'steps: [{send: make}, {send: look, give: {id: "${ID}"}}]\n',
      'trails/inside.yaml': 'steps: [{send: make}, {for-each: [1], as: n, steps: [{trail: later}]}]\n',
      'trails/undo.yaml': 'steps: [{send: make, undo: {send: wrong}}]\n',
      'trails/needs.yaml': 'steps: [{send: wrong2}, {send: look}]\n',
      'requests/wrong2.yaml': 'url: ${origin}/x\n',
      'trails/rows.yaml':
        'rows: data/rows.csv\nsteps: [{send: look, session: desk, give: {id: "${imo}"}}, {keep: {n: "${name}"}, only-if: {n: {exists: true}}}]\n',
      'trails/well.yaml': 'steps: [{send: make}, {send: look, session: desk, give: {id: "${id}"}}]\n',
    },
    server.origin,
  );
  const refused: readonly (readonly [args: string[], says: RegExp])[] = [
    [
      ['later'],
      /the name ID is not known at this step of later\nat +trails\/later\.yaml:1:47\ntry +did you mean id\? nothing was sent/,
    ],
    [['inside'], /the name ID is not known at this step of later/],
    [
      ['undo'],
      /the name dexk is neither an input of wrong.*\nat +requests\/wrong\.yaml:2:13[\s\S]*did you mean desk\?/,
    ],
    [['wrong'], /the name dexk is neither an input of wrong/],
    [['rows', '--rows', 'data/other.csv'], /the name name is not known at this step of rows/],
    [['well', 'undo', 'later'], /the name dexk[\s\S]*cause +and 1 more; echo-trail check names them all/],
    [
      ['needs'],
      /look needs the input id, and nothing gives it at this step\nat +trails\/needs\.yaml:1:32\ntry .*keep a value of that name in a step before, as make does; nothing was sent/,
    ],
  ];
  for (const [args, says] of refused) {
    const ended = await echoTrail(['run', ...args], { cwd });
    assert.equal(ended.status, 2, ended.out + ended.err);
    assert.match(ended.err, says);
  }
  assert.equal(sent.length, 0);
  for (const args of [['well'], ['rows'], ['rows', '--rows', 'data/rows.json'], ['later', '--dry-run']])
    assert.doesNotMatch((await echoTrail(['run', ...args], { cwd })).err, /nothing was sent$/m);
  assert.deepEqual(
    sent.map((head) => head.split(' ', 2).join(' ')),
    ['POST /make', 'GET /look/7?at=north', 'GET /look/1?at=north', 'GET /look/1?at=north'],
  );
});

test('files that are missing are told before anything is sent, unless the run makes them', async () => {
  const sent: string[] = [];
  const server = await rawServer((head) => {
    sent.push(head);
    return responseOf('{}');
  });
  const cwd = collectionOf(
    {
      'requests/show.yaml': 'url: ${origin}/show\n',
      'requests/hand.yaml':
        'method: POST\nurl: ${origin}/hand\ninputs: {plan: {default: data/a.txt}}\nbody: {parts: {plan: {file: data/plan.txt}, other: {file: "${plan}"}}}\n',
      'requests/list.yaml': 'method: POST\nurl: ${origin}/list\nbody: {file: ./data/made.csv}\n',
      'trails/hand.yaml': 'steps: [{send: show}, {send: hand}]\n',
      'trails/both.yaml':
        'steps: [{send: show}, {for-each: [1], steps: [{send: hand}]}, {compare: [{send: show}, {file: data/was.json}]}]\n',
      'trails/seldom.yaml': 'steps: [{send: show}, {send: hand, only-if: {never: {exists: true}}}]\n',
      'trails/made.yaml':
        'steps:\n  - {for-each: [1], steps: [{send: show}], table: {columns: {n: "${item}"}, to: data/made.csv}}\n  - {send: list}\n',
    },
    server.origin,
  );
  const one = await echoTrail(['run', 'hand'], { cwd });
  assert.equal(one.status, 2);
  assert.match(one.err, /data\/plan\.txt does not exist\nat +requests\/hand\.yaml:4:29/);
  const both = await echoTrail(['run', 'both', '--dry-run'], { cwd });
  assert.match(both.err, /the files data\/plan\.txt, data\/was\.json are not there[\s\S]*nothing was sent/);
  assert.equal(sent.length, 0);
  assert.equal((await echoTrail(['run', 'seldom'], { cwd })).status, 0);
  assert.equal(sent.length, 1);
  const made = await echoTrail(['run', 'made'], { cwd });
  assert.equal(made.status, 0, made.err + made.out);
  assert.match(sent.at(-1) ?? '', /^POST \/list[\s\S]*content-length: 11$/);
  const single = await echoTrail(['send', 'hand'], { cwd });
  assert.match(single.err, /data\/plan\.txt does not exist\nat +requests\/hand\.yaml:4:29/);
});

test('secrets that are missing are told before anything is sent, all at once', async () => {
  const sent: string[] = [];
  const server = await rawServer((head) => {
    sent.push(head);
    return responseOf('{}');
  });
  const cwd = collectionOf(
    {
      'data/rows.csv': 'imo\n1\n2\n3\n',
      'requests/defaults.yaml': 'headers: {X-All: "${secret.all}", X-Own: "${secret.overridden}"}\n',
      'requests/show.yaml':
        'url: ${origin}/x\nheaders: {X-Own: a, X-May: "${secret.may ?? absent}", X-Row: "${secret.fleet[imo]}"}\ninputs: {imo: {}}\nsession: key\nsignature: seal\n',
      'requests/seldom.yaml': 'url: ${origin}/y\nheaders: {X-Own: a, X-All: b, X-Seldom: "${secret.seldom}"}\n',
      'sessions/key.yaml': 'kind: bearer\ntoken: ${secret.token}\n',
      'signatures/seal.yaml':
        'headers: {X-Seal: "${sent.path | hmac-sha-256(secret.sealing) | hex}"}\nexamples: [{request: {url: http://a.example/}, secrets: {sealing: x}, expect: {}}]\n',
      'trails/rows.yaml':
        'rows: data/rows.csv\nsteps:\n  - {send: show, give: {imo: "${imo}"}}\n  - {send: seldom, only-if: {never: {exists: true}}}\n',
    },
    server.origin,
  );
  const none = await echoTrail(['run', 'rows'], { cwd });
  assert.equal(none.status, 4);
  assert.match(none.err, /the secrets all, sealing, token are not set/);
  assert.match(none.err, /requests\/defaults\.yaml:1:18[\s\S]*echo-trail secret set sealing[\s\S]*nothing was sent/);
  assert.equal(sent.length, 0);
  const fleet = { ECHO_TRAIL_SECRET_FLEET_1: 'a-lamp-room', ECHO_TRAIL_SECRET_FLEET_2: 'b-lamp-room' };
  const given = {
    ECHO_TRAIL_SECRET_ALL: 'gull-rock-77',
    ECHO_TRAIL_SECRET_SEALING: 'winch-grease-77',
    ECHO_TRAIL_SECRET_TOKEN: 'tide-token-77',
  };
  const some = await echoTrail(['run', 'rows'], { cwd, env: { ...given, ...fleet } });
  assert.equal(some.status, 4, 'a key that a row names is found missing by that row');
  assert.equal(sent.length, 2, some.err + some.out);
  assert.match(some.err + some.out, /secret fleet\[3\] is not set/);
});
