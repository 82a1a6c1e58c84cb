/** The kinds of steps: for-each, poll, choose, compare, and what decides whether a step is taken. */
import assert from 'node:assert/strict';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { collectionOf, demoCollection, writeIn } from '../../support/folder.js';
import { document, documentLines, type Ended, echoTrail } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';
import { harbourForThisFile } from '../../support/standin.js';

const standin = await harbourForThisFile();

/** A vendor that says what it is asked, and notes it; `/bad…` fails, `/slow…` takes a moment. */
async function mirror(): Promise<{ origin: string; asked: string[]; most: () => number }> {
  const asked: string[] = [];
  let [active, most] = [0, 0];
  const server = await rawServer((head, socket) => {
    const [method = '', path = ''] = head.split(' ');
    asked.push(`${method} ${path}`);
    active += 1;
    most = Math.max(most, active);
    const bad = path.startsWith('/bad');
    const name = decodeURIComponent(path.slice(1));
    setTimeout(
      () => {
        active -= 1;
        socket.write(responseOf(JSON.stringify({ name, length: name.length }), bad ? { status: '500 Broken' } : {}));
      },
      path.startsWith('/slow') ? 30 : 0,
    );
    return undefined;
  });
  return { origin: server.origin, asked, most: () => most };
}

const requests = {
  'requests/get.yaml': 'inputs: {name: {}}\nurl: ${origin}/{name}\nkeep: {length: $.length}\n',
  'requests/post.yaml': 'inputs: {name: {}}\nmethod: POST\nurl: ${origin}/{name}\n',
};

interface StepDocument {
  readonly step: string;
  readonly state: string;
  readonly member: string | null;
  readonly problems: readonly { readonly code: string; readonly what: string }[];
  readonly members?: { readonly ok: number; readonly failed: number; readonly passed: number };
  readonly seen?: { readonly asked: number; readonly values: readonly string[] };
  readonly chosen?: string;
  readonly differences?: readonly { readonly at: string }[];
}
const stepsOf = (ended: Ended): StepDocument[] =>
  documentLines(ended).filter(({ event }) => event === 'step') as unknown as StepDocument[];

async function walked(
  steps: string,
  args: readonly string[] = [],
  more: Readonly<Record<string, string>> = {},
): Promise<Ended & { asked: string[]; most: number; cwd: string }> {
  const vendor = await mirror();
  const cwd = collectionOf({ ...requests, 'trails/t.yaml': `steps:\n${steps}`, ...more }, vendor.origin);
  const ended = await echoTrail(['run', 't', '--json', ...args], { cwd });
  return { ...ended, asked: vendor.asked, most: vendor.most(), cwd };
}

const each = (members: string, more = ''): string =>
  `  - for-each: ${members}\n    as: one\n${more}    steps: [{send: get, give: {name: "\${one.name ?? one.value ?? one}"}}]\n`;

const goneThrough: readonly (readonly [name: string, steps: string, asked: readonly string[]])[] = [
  ['a list that is written out', each('[a, b]'), ['GET /a', 'GET /b']],
  ['a list in an expression', `  - keep: {list: [x, y]}\n${each('${list}')}`, ['GET /x', 'GET /y']],
  ['the members of a map', `  - keep: {map: {k: v1, l: v2}}\n${each('${map}')}`, ['GET /v1', 'GET /v2']],
  ['a range', each('{range: [8, 10]}'), ['GET /8', 'GET /9', 'GET /10']],
  ['a range downward', each('{range: [2, 1]}'), ['GET /2', 'GET /1']],
  ['a range that is worked out', `  - keep: {most: "3"}\n${each('{range: ["${most}", 4]}')}`, ['GET /3', 'GET /4']],
  ['a range to a count of nothing', `  - keep: {none: 0}\n${each('{range: [1, "${none}"]}')}`, []],
  ['the rows of csv', each('{rows: data/x.csv}'), ['GET /007', 'GET /b%20c']],
  ['the rows of json', each('{rows: data/x.json}'), ['GET /j1', 'GET /12345678901234567890']],
  ['the rows of jsonl', each('{rows: data/x.jsonl}'), ['GET /l1', 'GET /l2']],
  ['nothing', each('[]'), []],
  [
    'one inside another',
    '  - for-each: [a, b]\n    as: outer\n    steps:\n      - for-each: [1, 2]\n        as: inner\n        steps: [{send: get, give: {name: "${outer}${inner}"}}]\n',
    ['GET /a1', 'GET /a2', 'GET /b1', 'GET /b2'],
  ],
];
const data = {
  'data/x.csv': 'name\n007\nb c\n',
  'data/x.json': '[{"name": "j1"},\n {"name": 12345678901234567890}]',
  'data/x.jsonl': '{"name": "l1"}\n\n{"name": "l2"}\n',
};
test('for-each goes through lists, maps, ranges, rows of files, nothing, and one inside another', async () => {
  const vendor = await mirror();
  const trails = Object.fromEntries(goneThrough.map(([, steps], at) => [`trails/t${at}.yaml`, `steps:\n${steps}`]));
  const cwd = collectionOf({ ...requests, ...data, ...trails }, vendor.origin);
  const ended = await echoTrail(['run', ...goneThrough.map((_, at) => `t${at}`), '--json'], { cwd });
  assert.equal(ended.status, 0, ended.out + ended.err);
  for (const [name, , asked] of goneThrough) assert.deepEqual(vendor.asked.splice(0, asked.length), asked, name);
  assert.deepEqual(vendor.asked, []);
});

test('so many at once are under way, and no more', async () => {
  const ended = await walked(
    '  - for-each: {range: [1, 20]}\n    as: n\n    at-once: 5\n    steps: [{send: get, give: {name: "slow${n}"}}]\n',
  );
  assert.equal(ended.status, 0);
  assert.equal(ended.most, 5);
});

test('one that fails ends itself; its siblings go on, its parent fails, and its line in the table says why', async () => {
  const ended = await walked(
    '  - for-each: [a, bad, c]\n    as: n\n    steps:\n      - {send: get, give: {name: "${n}"}}\n      - {send: post, give: {name: "after-${n}"}}\n    table: {columns: {n: "${n}", length: "${length}", said: $.name}, to: data/out.csv}\n  - {send: get, give: {name: never}}\n',
  );
  assert.equal(ended.status, 1);
  assert.deepEqual(ended.asked, ['GET /a', 'POST /after-a', 'GET /bad', 'GET /c', 'POST /after-c']);
  const last = stepsOf(ended).at(-1);
  assert.deepEqual(last?.members, { ok: 2, failed: 1, passed: 0 });
  assert.equal(last?.problems[0]?.what, '1 of 3 failed');
  assert.equal(
    readFileSync(join(ended.cwd, 'data/out.csv'), 'utf8'),
    'n,length,said,error\na,1,after-a,\nbad,3,bad,"status: expected under 400, found 500"\nc,1,after-c,\n',
  );
});

test('a table goes to the terminal, to a name, and to csv, json and lines of json, in the order of its members', async () => {
  const steps = (to: string): string =>
    `  - for-each: [slow-a, b, "c,\\"d"]\n    as: n\n    at-once: 3\n    steps: [{send: get, give: {name: "\${n}"}}]\n    table: {columns: {n: "\${n}", length: $.length}, as: lines${to}}\n  - {send: get, give: {name: "\${lines[2].length}-\${lines | count}"}}\n`;
  const csv = await walked(steps(', to: data/t.csv'));
  assert.equal(csv.status, 0, csv.out);
  assert.equal(csv.asked.at(-1), 'GET /4-3');
  assert.equal(readFileSync(join(csv.cwd, 'data/t.csv'), 'utf8'), 'n,length,error\nslow-a,6,\nb,1,\n"c,""d",4,\n');
  const json = await walked(steps(', to: data/t.json'));
  assert.deepEqual(JSON.parse(readFileSync(join(json.cwd, 'data/t.json'), 'utf8')), [
    { n: 'slow-a', length: 6 },
    { n: 'b', length: 1 },
    { n: 'c,"d', length: 4 },
  ]);
  const lines = await walked(steps(', to: data/t.jsonl'));
  assert.equal(readFileSync(join(lines.cwd, 'data/t.jsonl'), 'utf8').split('\n')[1], '{"n":"b","length":1}');
  const shown = await echoTrail(['run', 't'], {
    cwd: collectionOf({ ...requests, 'trails/t.yaml': `steps:\n${steps(', show: true')}` }, (await mirror()).origin),
  });
  assert.match(shown.out, /\n +n +length\n +slow-a +6\n +b +1\n +c,"d +4\n/);
});

test('many tables have a file each, and one for all of them is refused before anything is sent', async () => {
  const inner = (to: string): string =>
    `  - for-each: [a, b]\n    as: n\n    steps: [{send: get, give: {name: "\${n}"}}]\n    table: {columns: {n: "\${n}"}, to: ${to}}\n`;
  const rows = { 'data/rows.csv': 'quay,kind\nnorth,x\nsouth,x\n' };
  const many = ['--rows', 'data/rows.csv'];
  const own = await walked(inner('"data/t-${quay}.csv"'), many, rows);
  assert.equal(own.status, 0, own.out);
  for (const quay of ['north', 'south'])
    assert.equal(readFileSync(join(own.cwd, `data/t-${quay}.csv`), 'utf8'), 'n,error\na,\nb,\n');
  const tables = documentLines(own).filter(({ event }) => event === 'table');
  assert.deepEqual(tables.map(({ to }) => to).sort(), ['data/t-north.csv', 'data/t-south.csv']);

  const one = await walked(inner('data/t.csv'), many, rows);
  assert.deepEqual([one.status, one.asked], [2, []]);
  assert.match(one.err, /every row or iteration would overwrite data\/t\.csv[\s\S]*t-\$\{NAME\}\.csv/);
  assert.match(one.err, /trails\/t\.yaml/);
  // That two names come out alike is known only on the way: what is there stays.
  const alike = await walked(inner('"data/t-${kind}.csv"'), many, rows);
  assert.equal(alike.status, 2);
  assert.match(alike.out, /another table of this run was written to data\/t-x\.csv/);
  assert.equal(readFileSync(join(alike.cwd, 'data/t-x.csv'), 'utf8'), 'n,error\na,\nb,\n');

  // Environments differ as rows do, and a run that is repeated writes its own file again.
  const vendor = await mirror();
  const environment = (quay: string): string =>
    `changes: allow\nvariables: {origin: "${vendor.origin}", quay: ${quay}}\nhosts: [127.0.0.1]\n`;
  const cwd = collectionOf({
    ...requests,
    'trails/t.yaml': `steps:\n${inner('"data/t-${quay}.csv"')}`,
    'environments/one.yaml': environment('north'),
    'environments/two.yaml': environment('south'),
    'environments/three.yaml': environment('north'),
  });
  const several = await echoTrail(['run', 't', '--env', 'one,two', '--repeat', '2'], { cwd });
  assert.equal(several.status, 0, several.out);
  const clash = await echoTrail(['run', 't', '--env', 'one,three'], { cwd });
  assert.equal(clash.status, 2);
  assert.match(clash.out, /another table of this run was written to data\/t-north\.csv/);

  // Two trails of one command, too; the same one twice writes its own file again.
  writeIn(cwd, 'trails/other.yaml', `steps:\n${inner('"data/t-${quay}.csv"').replace('[a, b]', '[c]')}`);
  const two = await echoTrail(['run', 't', 'other', '--env', 'one'], { cwd });
  assert.equal(two.status, 2);
  assert.match(two.out, /another table of this run was written to data\/t-north\.csv/);
  assert.equal(readFileSync(join(cwd, 'data/t-north.csv'), 'utf8'), 'n,error\na,\nb,\n');
  assert.equal((await echoTrail(['run', 't', 't', '--env', 'one'], { cwd })).status, 0);
});

test('once-by passes over what was handled, as long as the run is repeated; what failed is not handled', async () => {
  const vendor = await mirror();
  const cwd = collectionOf(
    {
      ...requests,
      'trails/t.yaml':
        'steps:\n  - for-each: [{id: 1, name: a}, {id: 2, name: bad}]\n    as: one\n    once-by: $.id\n    steps: [{send: get, give: {name: "${one.name}"}}]\n',
    },
    vendor.origin,
  );
  const ended = await echoTrail(['run', 't', '--repeat', '3', '--json'], { cwd });
  assert.equal(ended.status, 1);
  assert.deepEqual(vendor.asked, ['GET /a', 'GET /bad', 'GET /bad', 'GET /bad']);
  const members = stepsOf(ended).flatMap((step) => step.members ?? []);
  assert.deepEqual(
    members.map(({ passed }) => passed),
    [0, 1, 1],
  );
});

test('a table of what is handled once grows from walk to walk, and loses nothing that was handled', async () => {
  const vendor = await mirror();
  for (const [ending, first, whole] of [
    ['csv', 'n,error\na,\nb,\n', 'n,error\na,\nb,\nbad,'],
    ['jsonl', '{"n":"a"}\n{"n":"b"}\n', '{"n":"a"}\n{"n":"b"}\n{"n":"bad","error":'],
  ] as const) {
    const cwd = collectionOf(
      {
        ...requests,
        'trails/t.yaml': `steps:\n  - for-each: [a, bad, b, a, b]\n    as: one\n    at-once: 5\n    once-by: $\n    steps: [{send: get, give: {name: "\${one}"}}]\n    table: {columns: {n: "\${one}"}, as: lines, to: data/t.${ending}}\n`,
        'trails/good.yaml': `steps:\n  - for-each: [a, b]\n    as: one\n    once-by: $\n    steps: [{keep: {x: "\${one}"}}]\n    table: {columns: {n: "\${one}"}, as: lines, to: data/g.${ending}}\n  - {keep: {count: "\${lines | count}"}}\n`,
      },
      vendor.origin,
    );
    const ended = await echoTrail(['run', 't', '--repeat', '2', '--json'], { cwd });
    assert.ok(readFileSync(join(cwd, `data/t.${ending}`), 'utf8').startsWith(whole), ended.out);
    const tables = documentLines(ended).filter(({ event }) => event === 'table');
    assert.deepEqual(
      tables.map(({ count, before }) => [count, before]),
      [
        [3, 0],
        [1, 2],
      ],
    );
    const good = await echoTrail(['run', 'good', '--repeat', '3'], { cwd });
    assert.equal(readFileSync(join(cwd, `data/g.${ending}`), 'utf8'), first);
    assert.match(good.out, new RegExp(`wrote +data/g\\.${ending} \\(2 rows, 0 of them new, of for each one\\)`));
  }
});

test('what is handled once is told apart by the way to it: by its trail, its step, and the item outside', async () => {
  const vendor = await mirror();
  const inner = (items: string): string =>
    `for-each: ${items}, as: n, once-by: $, steps: [{send: get, give: {name: "\${quay}-\${n}"}}]`;
  const cwd = collectionOf(
    {
      ...requests,
      'data/quays.csv': 'quay\nnorth\nsouth\n',
      'trails/t.yaml': `inputs: {quay: {default: own}}\nsteps:\n  - {for-each: {rows: data/quays.csv}, as: row, steps: [{keep: {quay: "\${row.quay}"}}, {${inner('[1, 2]')}}]}\n  - {${inner('[1]')}}\n  - {${inner('[1]')}}\n`,
      'trails/other.yaml': `steps: [{trail: t, give: {quay: inside}}]\n`,
    },
    vendor.origin,
  );
  const ended = await echoTrail(['run', 't', 'other', '--repeat', '2'], { cwd });
  assert.equal(ended.status, 0, ended.out + ended.err);
  const once = ['GET /north-1', 'GET /north-2', 'GET /south-1', 'GET /south-2'];
  assert.deepEqual(vendor.asked, [...once, 'GET /own-1', 'GET /own-1', ...once, 'GET /inside-1', 'GET /inside-1']);
});

test('a job is polled until it is done, with what was seen on the way; a poll that cannot come true fails at once', async () => {
  const cwd = demoCollection(standin.origin);
  const done = await echoTrail(['run', 'dredge', '--json'], { cwd });
  assert.equal(done.status, 0, done.out + done.err);
  const poll = stepsOf(done).at(-1);
  assert.deepEqual(poll?.seen?.values, ['"queued"', '"running"', '"done"']);
  assert.ok((poll?.seen?.asked ?? 0) >= 3);
  const failed = await echoTrail(['run', 'dredge', '--set', 'basin=rock basin'], { cwd });
  assert.equal(failed.status, 1);
  assert.match(failed.out, /it cannot happen any more: \$\.state is "failed"/);
  assert.match(failed.out, /"queued" → "running" → "failed"/);
  assert.match(failed.out, /undone +dredging\/order by dredging\/cancel/);
});

test('a miss, a 404 and a lost response are "not yet"; after within it is a failure that says what was expected', async () => {
  let count = 0;
  const server = await rawServer((_head, socket) => {
    count += 1;
    if (count === 1) return responseOf('{}', { status: '404 Not Found' });
    if (count === 2) return void socket.destroy();
    if (count === 3) return responseOf('{"state": "soon"}');
    return responseOf('{"state": "there", "id": 7}');
  });
  const poll = (within: string, until = '{$.state: there}'): Record<string, string> => ({
    ...requests,
    'trails/t.yaml': `steps:\n  - poll: get\n    give: {name: x}\n    until: ${until}\n    pause: 20ms\n    within: ${within}\n    keep: {id: $.id}\n  - {send: get, give: {name: "\${id}"}}\n`,
    'requests/get.yaml': 'inputs: {name: {}}\nurl: ${origin}/{name}\n',
  });
  const there = await echoTrail(['run', 't'], { cwd: collectionOf(poll('5s'), server.origin) });
  assert.equal(there.status, 0, there.out + there.err);
  assert.equal(count, 5);
  const late = await echoTrail(['run', 't'], { cwd: collectionOf(poll('200ms', '{$.state: never}'), server.origin) });
  assert.equal(late.status, 1);
  assert.match(
    late.out,
    /still not as expected after \d+ ms, asked \d+ times?\n[\s\S]*\$\.state: expected "never", found "there"/,
  );
  await server.close();
});

const list = '  - keep: {berths: [{code: N1, quay: north}, {code: N2, quay: north}, {code: S1, quay: south}]}\n';
const pick =
  '  - choose: {from: "${berths}", label: "${item.code} at the ${item.quay} quay", value: "${item.code}", as: berth}\n  - {send: get, give: {name: "${berth}"}}\n';
const choices: readonly (readonly [given: string | undefined, status: number, outcome: string | RegExp])[] = [
  ['S1', 0, 'GET /S1'],
  ['N2 at the north quay', 0, 'GET /N2'],
  ['south', 0, 'GET /S1'],
  ['north', 2, /north for berth fits 2 of them: N1 at the north quay; N2 at the north quay/],
  ['west', 2, /west for berth matches none of 3 choices/],
  [undefined, 2, /berth has to be chosen, which needs an interactive terminal/],
];
for (const [given, status, outcome] of choices) {
  test(`unattended, ${given ?? 'nothing'} given chooses ${outcome}`, async () => {
    const ended = await walked(list + pick, given === undefined ? [] : ['--set', `berth=${given}`]);
    assert.equal(ended.status, status, ended.out);
    if (typeof outcome === 'string') assert.deepEqual(ended.asked, [outcome]);
    else {
      assert.match(stepsOf(ended).at(-1)?.problems[0]?.what ?? '', outcome);
      assert.deepEqual(ended.asked, []);
    }
  });
}

test('of choices that are all the same any is chosen, and they are told once', async () => {
  const same =
    '  - keep: {seen: [moved, left, moved, moved]}\n  - choose: {from: "${seen}", as: one}\n  - {send: get, give: {name: "${one}"}}\n';
  const moved = await walked(same, ['--set', 'one=moved']);
  assert.deepEqual(moved.asked, ['GET /moved']);
  const both = await walked(same, ['--set', 'one=e']);
  assert.match(stepsOf(both).at(-1)?.problems[0]?.what ?? '', /fits 4 of them: moved; left$/);
});

const conditions: readonly (readonly [when: string, taken: boolean])[] = [
  ['{kind: ferry}', true],
  ['{kind: tanker}', false],
  ['{vessel.flag: Ostrand}', true],
  ['{"vessel.masts[1]": 9}', true],
  ['{vessel.gone.far: {exists: true}}', false],
  ['{nowhere: {exists: false}}', true],
  ['{any: [{kind: tanker}, {vessel.flag: Ostrand}]}', true],
  ['{any: [{kind: tanker}, {vessel.flag: Merrow}]}', false],
  ['{not: {kind: tanker}}', true],
  ['{not: {kind: ferry, vessel.flag: Ostrand}}', false],
  ['{not: {any: [{kind: tanker}, {kind: coaster}]}, vessel.flag: Ostrand}', true],
  ['{kind: "${wanted}"}', true],
  ['{row name: 1}', false],
];
test('conditions: all of a set, any, not, ways into a value, what does not exist', async () => {
  const steps = conditions.map(([when], at) => `  - {name: c${at}, keep: {x: 1}, only-if: ${when}}\n`).join('');
  const ended = await walked(
    `  - keep: {kind: ferry, wanted: ferry, vessel: {flag: Ostrand, masts: [7, 9]}}\n${steps}`,
  );
  assert.equal(ended.status, 0, ended.out + ended.err);
  const states = stepsOf(ended).slice(1);
  for (const [at, [when, taken]] of conditions.entries())
    assert.equal(states[at]?.state, taken ? 'ok' : 'skipped', when);
});

test('what only-if was called before is still read', async () => {
  const ended = await walked(
    '  - {keep: {a: 1}, when: {env: harbour}}\n  - {keep: {a: 2}, when: {a: {exists: true}}}\n',
  );
  assert.equal(ended.status, 0, ended.out + ended.err);
  assert.deepEqual(
    stepsOf(ended).map(({ state }) => state),
    ['skipped', 'skipped'],
  );
});

const before = '{a: 1, at: 1, list: [{id: x, n: 1}, {id: y, n: 2}], tags: [p, q]}';
const compared: readonly (readonly [
  name: string,
  step: string,
  found: readonly string[] | undefined,
  says?: RegExp,
])[] = [
  ['the same', `[{value: ${before}}, {value: ${before}}]`, undefined],
  ['another value', `[{value: ${before}}, {value: {a: 2}}]\n    only: [$.a]`, ['$.a']],
  ['what may differ', `[{value: {a: 1, at: 1}}, {value: {a: 1, at: 2}}]\n    ignoring: [$.at]`, undefined],
  [
    'lists in another order',
    '[{value: {l: [{id: x, n: 1}, {id: y, n: 2}]}}, {value: {l: [{id: y, n: 2}, {id: x, n: 3}]}}]\n    unordered: {$.l: $.id}',
    ['$.l[?@.id == "x"].n'],
  ],
  ['tags in another order', '[{value: {t: [p, q, q]}}, {value: {t: [q, p, q]}}]\n    unordered: {$.t: $}', undefined],
  ['the intended change alone', '[{value: {a: 1, b: 1}}, {value: {a: 2, b: 1}}]\n    changed: [$.a]', undefined],
  ['more than the intended change', '[{value: {a: 1, b: 1}}, {value: {a: 2, b: 2}}]\n    changed: [$.a]', ['$.b']],
  [
    'an intended change that did not come',
    '[{value: {a: 1}}, {value: {a: 1}}]\n    changed: [$.a]',
    [],
    /\$\.a should have changed, and did not/,
  ],
  ['responses of requests', '[{send: get, give: {name: ab}}, {send: get, give: {name: cd}}]', ['$.name']],
  ['a response and a document', '[{send: get, give: {name: ab}}, {file: data/ab.json}]', ['$.length']],
  [
    'xml by its structure',
    "[{value: \"<a xmlns='urn:x'><b n='1'>x</b><b n='2'>y</b></a>\"}, {value: \"<p:a xmlns:p='urn:x'>\\n <p:b n='1'> x </p:b>\\n <p:b n='2'>z</p:b></p:a>\"}]",
    ['/a/b[2]'],
  ],
];
test('compare tells what differs, by structure, and nothing where nothing does', async () => {
  const vendor = await mirror();
  const trails = Object.fromEntries(
    compared.map(([, step], at) => [`trails/c${at}.yaml`, `steps:\n  - compare: ${step}\n`]),
  );
  const files = { ...requests, ...trails, 'data/ab.json': '{"name": "ab", "length": 3}' };
  const cwd = collectionOf(files, vendor.origin);
  const ended = await echoTrail(['run', ...compared.map((_, at) => `c${at}`), '--json'], { cwd });
  const steps = stepsOf(ended);
  assert.equal(steps.length, compared.length, ended.err);
  for (const [at, [name, , found, says]] of compared.entries()) {
    const step = steps[at];
    assert.equal(step?.state, found ? 'failed' : 'ok', name);
    assert.deepEqual(step?.differences?.map((one) => one.at) ?? [], found ?? [], name);
    if (says) assert.match(step?.problems[0]?.what ?? '', says, name);
  }
});

test('compare: a response that takes too many times as long', async () => {
  const ended = await walked(
    '  - {send: get, give: {name: warm}}\n  - compare: [{send: get, give: {name: slow}}, {send: get, give: {name: slow}}]\n    time-ratio: {at-most: 0.01}\n',
  );
  assert.equal(ended.status, 1);
  assert.match(
    stepsOf(ended).at(-1)?.problems[0]?.what ?? '',
    /took [\d.]+ times as long as the first, expected at most 0\.01/,
  );
});

test('one field is set anew, nothing else changes, and the staged settings come to life', async () => {
  const cwd = demoCollection(standin.origin);
  const ended = await echoTrail(['run', 'lights-change'], { cwd });
  assert.equal(ended.status, 0, ended.out + ended.err);
  assert.match(ended.out, /ok +only the brightness changed\n[\s\S]*ok +staged and live are alike\nundone +lights\/set/);
});

test('free text is held to listed words, and what was answered goes into the next request', async () => {
  const cwd = demoCollection(standin.origin);
  const ended = await echoTrail(['run', 'triage'], { cwd });
  assert.equal(ended.status, 0, ended.out);
  assert.match(ended.out, /urgent +T-\d+[\s\S]*repair +T-\d+[\s\S]*routine +T-\d+/);
  writeIn(cwd, 'data/reports.csv', 'report\nIt makes a funny noise\n');
  const unclear = await echoTrail(['run', 'triage'], { cwd });
  assert.equal(unclear.status, 1);
  assert.match(unclear.out, /\$\.answer: expected one of "?urgent"?, .*found "hard to say"/);
});

const broken: readonly (readonly [steps: string, says: RegExp])[] = [
  ['  - {for-each: [1], steps: []}\n', /steps\[0\]\.steps/],
  ['  - {for-each: {rows: data/none.csv}, steps: [{send: get}]}\n', /data\/none\.csv/],
  ['  - {for-each: {rows: data/x.txt}, steps: [{send: get}]}\n', /rows are read from \.csv, \.json and \.jsonl/],
  ['  - {for-each: {pages: get}, steps: [{send: get}]}\n', /get has no pages/],
  ['  - {for-each: [1], stps: [{send: get}]}\n', /stps is not a key that is known here[\s\S]*did you mean steps/],
  ['  - {for-each: [1], steps: [{sned: get}]}\n', /sned is not a key/],
  ['  - {poll: get, until: {$.a: 1}, within: 5}\n', /within must be a text, not the number 5/],
  ['  - {poll: nothing, until: {$.a: 1}}\n', /no request nothing/],
  ['  - {compare: [{send: get}]}\n', /compare/],
  ['  - {poll: post, until: {$.a: 1}}\n', /poll sends post more than once, and POST changes something/],
  ['  - {compare: [{send: get}, {send: post}]}\n', /compare sends post more than once/],
  ['  - {choose: {from: [1]}}\n', /choose\.as is missing/],
  ['  - {send: get, only-if: {any: {a: 1}}}\n', /matcher|any/],
  ['  - {send: get, only-if: {a: 1}, when: {b: 1}}\n', /`only-if` and its former name `when` cannot be combined/],
  [
    '  - {for-each: [1], steps: [{for-each: [1], steps: [{send: get}], table: {columns: {a: $.a}, to: data/t.csv}}]}\n',
    /every row or iteration would overwrite data\/t\.csv/,
  ],
  ['  - {for-each: [1], steps: [{send: get}], table: {columns: {a: $.a}, to: "t-${quai}.csv"}}\n', /quai/],
  ['  - {for-each: [1], once-by: id, steps: [{send: get}]}\n', /id is not a place/],
];
test('a trail that is wrong is told with its place, and is not walked', async () => {
  const trails = Object.fromEntries(broken.map(([steps], at) => [`trails/w${at}.yaml`, `steps:\n${steps}`]));
  const cwd = collectionOf({ ...requests, ...trails, 'data/x.txt': 'a\n' });
  const { findings } = document(await echoTrail(['check', '--json'], { cwd })) as {
    findings: { file: string; line: number; what: string; remedy: string }[];
  };
  for (const [at, [steps, says]] of broken.entries()) {
    const own = findings.filter(({ file }) => file === `trails/w${at}.yaml`);
    assert.ok(
      own.some(({ what, remedy, line }) => says.test(`${what}\n${remedy}`) && line >= 2),
      `${steps}${JSON.stringify(own)}`,
    );
  }
  const ended = await echoTrail(['run', 'w0'], { cwd });
  assert.deepEqual([ended.status, ended.out], [2, '']);
  assert.match(ended.err, /trails\/w0\.yaml:2:\d+/);
  assert.equal(existsSync(join(cwd, '.echo-trail/runs')), false, 'no run was begun');
});

test('what a range or a column of a table cannot be is told by its name', async () => {
  const range = await walked('  - for-each: {range: [1, "${most}"]}\n    steps: [{send: get, give: {name: x}}]\n', [], {
    'environments/sandbox.yaml': 'variables: {origin: "http://127.0.0.1:9", most: many}\nhosts: [127.0.0.1]\n',
  });
  assert.match(JSON.stringify(stepsOf(range)), /the range must end with a whole number, not \\"many\\"/);
  const column = await walked(
    '  - for-each: [a]\n    as: one\n    steps: [{send: get, give: {name: "${one}"}}]\n    table: {columns: {depth: "${one.depth}"}}\n',
  );
  const told = JSON.stringify(stepsOf(column));
  assert.match(told, /column depth: one \(for each one 1\) has no member depth/);
});
