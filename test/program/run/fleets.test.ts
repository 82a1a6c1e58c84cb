/** Many hosts, many rows, many times: matrices, environments side by side, baselines, looking ahead, and repeating. */
import assert from 'node:assert/strict';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { after, test } from 'node:test';
import { startFleet } from '../../../src/standin/fleet/fleet.js';
import { collectionOf, demoCollection, everyFile, writeIn } from '../../support/folder.js';
import { documentLines, type Ended, echoTrail } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';
import { harbourForThisFile } from '../../support/standin.js';

const standin = await harbourForThisFile();
const fleet = await startFleet();
after(() => fleet.close());

const rows = fleet.controllers.map(({ name, host }) => `${name},${host},http://${host}`);
function fleetCollection(): string {
  const cwd = demoCollection(standin.origin);
  writeFileSync(join(cwd, 'data/controllers.csv'), `name,host,origin\n${rows.join('\n')}\n`);
  return cwd;
}

interface MatrixDocument {
  readonly checks: readonly string[];
  readonly subjects: readonly { readonly name: string; readonly results: Record<string, string> }[];
  readonly deviations: readonly {
    readonly subject: string;
    readonly place: string;
    readonly expected: string;
    readonly found: string;
  }[];
}
const matrixOf = (ended: Ended): MatrixDocument =>
  documentLines(ended).find(({ event }) => event === 'matrix') as unknown as MatrixDocument;

test('an audit of a fleet: hosts by checks, each deviation, and a host that is not there is a result', async () => {
  const cwd = fleetCollection();
  const ended = await echoTrail(['run', 'lights-audit', '--env', 'fleet', '--matrix', '--json'], { cwd });
  assert.equal(ended.status, 3);
  const { checks, subjects, deviations } = matrixOf(ended);
  assert.deepEqual(checks, ['settings', 'health']);
  assert.equal(subjects.length, 12);
  assert.deepEqual(
    subjects.filter(({ results }) => results.settings !== 'ok').map(({ name, results }) => [name, results.settings]),
    [
      ['light-04', 'failed'],
      ['light-07', 'failed'],
      ['light-10', 'failed'],
      ['light-12', 'unreachable'],
    ],
  );
  assert.deepEqual(
    deviations.map(({ subject, place, expected, found }) => [subject, place, expected, found]).slice(0, 3),
    [
      ['light-04', '$.brightness', '80', '60'],
      ['light-07', '$.firmware', '"2.1.3"', '"2.0.9"'],
      ['light-10', '$.lamp', '"lit"', '"dark"'],
    ],
  );
  assert.equal(deviations.at(-1)?.subject, 'light-12');
  const shown = await echoTrail(['run', 'lights-audit', '--env', 'fleet', '--matrix'], { cwd });
  assert.match(shown.out, /light-03 +ok +ok\nlight-04 +failed +-\n/);
  assert.match(shown.out, /light-12 +no response +-\n[\s\S]*7 deviations\n[\s\S]*light-04 +\$\.brightness +80 +60/);
});

test('rows bring their own origin and their own secrets by key; a secret that one lacks fails that row alone', async () => {
  const heads: string[] = [];
  const server = await rawServer((head) => {
    heads.push(head);
    return responseOf('{}');
  });
  const cwd = collectionOf(
    {
      'environments/fleet.yaml': 'changes: allow\nvariables: {origin: "${row.origin}"}\nhosts: ["127.0.0.1:*"]\n',
      'requests/r.yaml': 'inputs: {name: {}}\nurl: ${origin}/{name}\nheaders: {X-Pass: "${secret.pass[name]}"}\n',
      'trails/t.yaml': `rows: [{name: a, origin: "${server.origin}/x"}, {name: b, origin: "${server.origin}/y"}, {name: c, origin: "${server.origin}/z"}]\nsteps: [{send: r}]\n`,
    },
    server.origin,
  );
  const env = { ECHO_TRAIL_SECRET_PASS_A: 'alder-1001-xx', ECHO_TRAIL_SECRET_PASS_B: 'birch-2002-xx' };
  const ended = await echoTrail(['run', 't', '--env', 'fleet'], { cwd, env });
  assert.equal(ended.status, 4, ended.out);
  assert.match(ended.out, /row 3[\s\S]*pass\[c\] is not set[\s\S]*2 of 3 rows, 1 failed/);
  assert.deepEqual(
    heads.map((head) => [/^GET (\S+)/.exec(head)?.[1], /x-pass: (\S+)/i.exec(head)?.[1]]),
    [
      ['/x/a', 'alder-1001-xx'],
      ['/y/b', 'birch-2002-xx'],
    ],
  );
  await server.close();
});

test('several environments, one after the other; one whose host is not there does not end the others', async () => {
  const server = await rawServer(() => responseOf('{"depth": 9}'));
  const other = await rawServer(() => responseOf('{"depth": 7}'));
  const environment = (origin: string): string =>
    `changes: allow\nvariables: {origin: "${origin}"}\nhosts: [127.0.0.1]\n`;
  const cwd = collectionOf({
    'environments/north.yaml': environment(server.origin),
    'environments/south.yaml': environment('http://127.0.0.1:9'),
    'environments/west.yaml': environment(other.origin),
    'requests/depth.yaml': 'url: ${origin}/depth\nexpect: {$.depth: 9}\n',
    'trails/t.yaml': 'steps: [{send: depth}, {name: again, send: depth}]\n',
  });
  const ended = await echoTrail(['run', 't', '--env', 'north,south,west', '--json'], { cwd });
  assert.equal(ended.status, 3, ended.err);
  const { subjects, deviations } = matrixOf(ended);
  assert.deepEqual(
    subjects.map(({ name, results }) => [name, results]),
    [
      ['north', { depth: 'ok', again: 'ok' }],
      ['south', {}],
      ['west', { depth: 'failed' }],
    ],
  );
  assert.deepEqual(
    deviations.map(({ subject, place, found }) => [subject, place, found]),
    [
      ['south', 'response', '127.0.0.1:9 is there, and nothing listens on that port'],
      ['west', '$.depth', '7'],
    ],
  );
  const steps = documentLines(ended).filter(({ event }) => event === 'step');
  assert.deepEqual([...new Set(steps.map((step) => step.environment))], ['north', 'west']);
  const wrong = await echoTrail(['run', 't', '--env', 'north,nowhere'], { cwd });
  assert.equal(wrong.status, 4);
  assert.match(wrong.err, /there is no environment nowhere/);
  assert.equal(wrong.out, '', 'nothing is walked before all are read');
  const shown = await echoTrail(['run', 't', '--env', 'north,west'], { cwd });
  assert.match(shown.out, /north +ok +ok\nwest +failed +-/);
  await Promise.all([server.close(), other.close()]);
});

test('a baseline is written, and written anew, only when it is accepted, after showing the difference', async () => {
  let depth = 9;
  const server = await rawServer(() =>
    responseOf(JSON.stringify({ depth, at: Math.random(), pass: 'seal-of-office-11' })),
  );
  const cwd = collectionOf(
    {
      'requests/depth.yaml':
        'url: ${origin}/depth\nexpect: {$: {same-as: {file: data/depth.json, ignoring: [$.at]}}}\n',
    },
    server.origin,
  );
  const missing = await echoTrail(['run', 'depth'], { cwd });
  assert.equal(missing.status, 1);
  assert.match(missing.out, /there is no data\/depth\.json yet; run --accept writes it/);
  const made = await echoTrail(['run', 'depth', '--accept'], { cwd });
  assert.equal(made.status, 0, made.out);
  assert.match(made.err, /accept +data\/depth\.json \(there was none\)/);
  const first = JSON.parse(readFileSync(join(cwd, 'data/depth.json'), 'utf8')) as { depth: number };
  assert.equal(first.depth, 9);
  assert.equal((await echoTrail(['run', 'depth'], { cwd })).status, 0);
  depth = 7;
  const differs = await echoTrail(['run', 'depth'], { cwd });
  assert.equal(differs.status, 1);
  assert.match(differs.out, /\$\.depth is 7, not 9/);
  assert.equal((JSON.parse(readFileSync(join(cwd, 'data/depth.json'), 'utf8')) as { depth: number }).depth, 9);
  const accepted = await echoTrail(['run', 'depth', '--accept'], { cwd });
  assert.match(accepted.err, /accept +data\/depth\.json\n +\$\.depth +9 becomes 7/);
  assert.equal((await echoTrail(['run', 'depth'], { cwd })).status, 0);
  await server.close();
});

test('a response that is wrong in another way is not accepted as a baseline', async () => {
  let count = 0;
  const server = await rawServer(() => {
    count += 1;
    return responseOf('{"depth": 1}', count % 2 === 1 ? { status: '503 Busy', headers: ['retry-after: 0'] } : {});
  });
  const depth = 'url: ${origin}/depth\nexpect: {status: 200, $: {same-as: data/depth.json}}\n';
  const cwd = collectionOf(
    {
      'requests/depth.yaml': `${depth}retry: none\n`,
      'requests/patient.yaml': `${depth}retry: {wait: 10ms}\n`,
    },
    server.origin,
  );
  const refused = await echoTrail(['run', 'depth', '--accept'], { cwd });
  assert.equal(refused.status, 1, refused.out);
  assert.equal(existsSync(join(cwd, 'data/depth.json')), false);
  count = 0;
  const well = await echoTrail(['run', 'patient', '--accept'], { cwd });
  assert.equal(well.status, 0, well.out);
  assert.equal(well.err.match(/accept/g)?.length, 1);
  await server.close();
});

test('a response is held against a recorded one', async () => {
  let depth = 9;
  const server = await rawServer(() => responseOf(JSON.stringify({ depth })));
  const cwd = collectionOf({ 'requests/depth.yaml': 'url: ${origin}/depth\n' }, server.origin);
  const [, id = ''] = /echo +(\w{4}\.1)/.exec((await echoTrail(['send', 'depth'], { cwd })).err) ?? [];
  writeIn(cwd, 'requests/same.yaml', `url: \${origin}/depth\nexpect: {$: {same-as: ${id}}}\n`);
  const same = await echoTrail(['send', 'same'], { cwd });
  assert.equal(same.status, 0, `${id}: ${same.err}`);
  depth = 8;
  const differs = await echoTrail(['send', 'same'], { cwd });
  assert.match(differs.err, /\$\.depth is 8, not 9/);
  await server.close();
});

const streams: readonly (readonly [name: string, input: string, asked: readonly string[]])[] = [
  ['csv', 'name,n\na,1\n"b c",2\n', ['a', 'b%20c']],
  ['lines of json', '{"name": "a"}\n\n{"name": "b"}\n', ['a', 'b']],
  ['a json list', ' [{"name": "a"}, {"name": "]\\"["}]', ['a', '%5D%22%5B']],
  ['nothing', '', []],
];
for (const [name, input, asked] of streams) {
  test(`rows from standard input: ${name}`, async () => {
    const paths: string[] = [];
    const server = await rawServer((head) => {
      paths.push((/^GET \/(\S*)/.exec(head) ?? [])[1] ?? '');
      return responseOf('{}');
    });
    const cwd = collectionOf({ 'requests/r.yaml': 'inputs: {name: {}}\nurl: ${origin}/{name}\n' }, server.origin);
    const ended = await echoTrail(['run', 'r', '--rows', '-'], { cwd, input });
    assert.equal(ended.status, 0, ended.out + ended.err);
    assert.deepEqual(paths, asked);
    await server.close();
  });
}

test('rows from a list that is worked out, and from a json file; faults in it name what is wrong', async () => {
  const cwd = collectionOf(
    {
      'echo-trail.yaml': 'name: t\nenvironment: sandbox\nvariables: {names: [a, b]}\n',
      'requests/mirror.yaml': 'inputs: {value: {}}\nurl: ${origin}/mirror\nquery: {v: "${value}"}\n',
      'trails/list.yaml': 'rows: ${names}\nsteps: [{send: mirror}]\ntable: {columns: {v: "${value}"}}\n',
      'trails/file.yaml': 'rows: data/x.json\nsteps: [{send: mirror}]\n',
      'trails/none.yaml': 'inputs: {x: {default: 5}}\nrows: ${x}\nsteps: [{send: mirror}]\n',
      'data/x.json': '[{"value": 1}, {"value": 2}',
    },
    standin.origin,
  );
  const list = await echoTrail(['run', 'list'], { cwd });
  assert.match(list.out, /v\n +a\n +b\n[\s\S]*2 of 2 rows/);
  const torn = await echoTrail(['run', 'file'], { cwd });
  assert.equal(torn.status, 2);
  assert.match(torn.err, /data\/x\.json ends before its list does/);
  writeFileSync(join(cwd, 'data/x.json'), '{"value": 1}');
  assert.match((await echoTrail(['run', 'file'], { cwd })).err, /is not a JSON list of objects/);
  writeFileSync(join(cwd, 'data/x.json'), '[{"value": 1}, 7]');
  assert.match((await echoTrail(['run', 'file'], { cwd })).err, /item 2 of data\/x\.json must be a JSON object/);
  assert.match((await echoTrail(['run', 'none'], { cwd })).err, /rows must be a list/);
});

test('--stop-at-first-failure begins no further row', async () => {
  const paths: string[] = [];
  const server = await rawServer((head) => {
    const path = (/^GET \/(\S*)/.exec(head) ?? [])[1] ?? '';
    paths.push(path);
    return responseOf('{}', path === '3' ? { status: '500 Broken' } : {});
  });
  const cwd = collectionOf(
    {
      'requests/r.yaml': 'inputs: {value: {}}\nurl: ${origin}/{value}\n',
      'trails/t.yaml': 'rows: [1, 2, 3, 4, 5]\nsteps: [{send: r}]\n',
    },
    server.origin,
  );
  const ended = await echoTrail(['run', 't', '--stop-at-first-failure'], { cwd });
  assert.equal(ended.status, 1);
  assert.deepEqual(paths, ['1', '2', '3']);
  paths.length = 0;
  const resumed = await echoTrail(['run', '--resume', 'last'], { cwd });
  assert.equal(resumed.status, 1);
  assert.deepEqual(paths, ['4', '5'], 'what was not begun is begun now');
  await server.close();
});

test('--dry-run does everything but the sending', async () => {
  const cwd = demoCollection('http://127.0.0.1:9');
  const ended = await echoTrail(['run', 'berth-stay', '--dry-run'], {
    cwd,
    env: { ECHO_TRAIL_SECRET_DESK_PASSWORD: 'tidewater-42' },
  });
  assert.equal(ended.status, 0, ended.out + ended.err);
  assert.match(ended.out, /ok +vessels\/show +GET http:\/\/127\.0\.0\.1:9\/v1\/vessels\/9000017/);
  assert.match(ended.out, /calls\/book +POST http:\/\/127\.0\.0\.1:9\/v1\/vessels\/9000017\/calls/);
  assert.match(ended.out, /nothing was sent/);
  assert.equal(existsSync(join(cwd, '.echo-trail/runs')), false);
  assert.deepEqual(
    everyFile(cwd).filter(({ path }) => path.includes('/echoes/')),
    [],
  );
  const wrong = await echoTrail(['run', 'calls/book', '--dry-run', '--set', 'nights=99'], { cwd });
  assert.equal(wrong.status, 2, wrong.out);
});

test('--dry-run of rows, iterations, tables, comparisons and undo parts leaves nothing behind and judges nothing', async () => {
  const cwd = demoCollection('http://127.0.0.1:9');
  const harvest = await echoTrail(['run', 'notices-harvest', '--dry-run'], { cwd });
  assert.equal(harvest.status, 0, harvest.out);
  assert.match(harvest.out, /number 1: board\/notice +GET http:\/\/127\.0\.0\.1:9\/board\/notices\/1 /);
  assert.match(harvest.out, /and 80 more: --json has them all/);
  assert.equal(existsSync(join(cwd, 'data/notices.csv')), false);
  const change = await echoTrail(['run', 'lights-change', '--dry-run'], { cwd });
  assert.equal(change.status, 0, change.out);
  assert.doesNotMatch(change.out, /undone|left|should have changed/);
  const rows = await echoTrail(['run', 'register-check', '--dry-run'], { cwd });
  assert.match(rows.out, /row 1 \(\d+\): vessels\/show +GET http/);
});

test('what was interrupted of many has not failed, and is not counted', async () => {
  const server = await rawServer((head, socket) => {
    if (head.includes('/3 ')) return undefined;
    setTimeout(() => socket.write(responseOf('{}')), 5);
    return undefined;
  });
  const cwd = collectionOf(
    {
      'requests/r.yaml': 'inputs: {value: {}}\nurl: ${origin}/{value}\n',
      'trails/t.yaml': 'rows: [1, 2, 3, 4]\nat-once: 2\nsteps: [{send: r}]\n',
    },
    server.origin,
  );
  let said = '';
  const ended = await echoTrail(['run', 't', '--json'], {
    cwd,
    meanwhile: (child) =>
      child.stdout?.on('data', (text: string) => {
        said += text;
        // All but the one that is never responded.
        if (said.split('"event":"row"').length - 1 === 3) child.kill('SIGINT');
      }),
  });
  assert.equal(ended.status, 130);
  const summary = documentLines(ended).at(-1) as { interrupted?: boolean; rows?: object; steps?: object };
  assert.equal(summary.interrupted, true);
  assert.deepEqual(summary.rows, { ok: 3, failed: 0, before: 0 });
  assert.deepEqual(summary.steps, { ok: 3, failed: 0, skipped: 0 });
  await server.close();
});

const drySteps: readonly (readonly [steps: string, says: RegExp, status: number])[] = [
  ['  - {send: show}\n', /failed +show\n.*needs the input id/, 2],
  ['  - {keep: {x: "${nowhere}"}}\n', /failed +keep x\n.*the name nowhere is not known/, 2],
  [
    '  - {send: list}\n  - {send: show}\n',
    /show +not sent in a dry run: needs an earlier response \(.*needs the input id/,
    0,
  ],
  [
    '  - {send: list}\n  - {keep: {x: "${id}"}}\n  - {keep: {y: "${x}"}}\n',
    /keep y +not sent in a dry run: needs an earlier response/,
    0,
  ],
  [
    '  - {send: list}\n  - {send: show, give: {id: "${id ?? absent}"}}\n',
    /show +not sent in a dry run: needs an earlier response/,
    0,
  ],
  [
    '  - {send: list}\n  - {send: show, give: {ident: "1"}}\n',
    /show +not sent in a dry run: needs an earlier response/,
    0,
  ],
  ['  - for-each: ["a"]\n    as: one\n    steps: [{keep: {x: "${one.part}"}}]\n', /failed .*keep x\n/, 2],
  [
    '  - {send: list}\n  - for-each: [{value: 1}]\n    as: one\n    steps: [{keep: {x: "${one.part}"}}, {keep: {y: "${neither}"}}]\n',
    /keep x +not sent in a dry run: needs an earlier response \(one[\s\S]*failed .*keep y\n.*the name neither is not known/,
    2,
  ],
];

test('a dry run takes for unknown what a response gives, and for wrong what no response mends', async () => {
  const trails = Object.fromEntries(drySteps.map(([steps], at) => [`trails/t${at}.yaml`, `steps:\n${steps}`]));
  const cwd = collectionOf({
    'requests/list.yaml': 'url: ${origin}/things\nkeep: {id: "$[0].id"}\n',
    'requests/show.yaml': 'inputs: {id: {}}\nurl: ${origin}/things/{id}\n',
    ...trails,
  });
  for (const [at, [steps, says, status]] of drySteps.entries()) {
    const walked = await echoTrail(['run', `t${at}`, '--dry-run'], { cwd });
    assert.match(walked.out + walked.err, says, steps);
    assert.equal(walked.status, status, steps);
  }
});

test('--repeat, --every and --until: as often as is wished, and no longer than is needed', async () => {
  let count = 0;
  let told: (() => void) | undefined;
  const server = await rawServer(() => {
    count += 1;
    told?.();
    return responseOf(JSON.stringify({ state: count >= 3 ? 'ready' : 'not yet' }));
  });
  const cwd = collectionOf({ 'requests/r.yaml': 'url: ${origin}/r\nexpect: {$.state: ready}\n' }, server.origin);
  const until = await echoTrail(['run', 'r', '--every', '150ms', '--until', 'ok'], { cwd });
  assert.deepEqual([until.status, count], [0, 3], until.out);
  count = 2;
  const four = await echoTrail(['run', 'r', '--repeat', '4'], { cwd });
  assert.deepEqual([four.status, count], [0, 6]);
  count = 0;
  const failed = await echoTrail(['run', 'r', '--repeat', '9', '--until', 'failed'], { cwd });
  assert.deepEqual([failed.status, count], [1, 1]);
  count = 10;
  const forever = await echoTrail(['run', 'r', '--every', '100ms'], {
    cwd,
    meanwhile: (child) => {
      told = () => {
        if (count === 14) child.kill('SIGINT');
      };
    },
  });
  assert.equal(forever.status, 130);
  await server.close();
});

const twoSteps = { 'trails/t.yaml': 'steps: [{send: r}, {send: r}]\n', 'requests/r.yaml': 'url: ${origin}/r\n' };

test('a host that is not there is found before the first step, and nothing is sent', async () => {
  const ended = await echoTrail(['run', 't'], { cwd: collectionOf(twoSteps, 'http://127.0.0.1:9') });
  assert.equal(ended.status, 3);
  assert.match(
    ended.err,
    /127\.0\.0\.1:9 is there, and nothing listens on that port\nat +looking ahead\ntry +nothing was sent/,
  );
  const named = await echoTrail(['run', 't'], {
    cwd: collectionOf({
      ...twoSteps,
      'environments/sandbox.yaml': 'variables: {origin: "http://nowhere.larkhaven.example"}\n',
    }),
  });
  assert.equal(named.status, 3);
  assert.match(named.err, /nowhere\.larkhaven\.example is a name that is not known/);
});

for (const [spec, status, says] of [
  ['at-least: "2.1"', 0, /passed/],
  ['at-least: "2.9", under: "3"', 0, /passed/],
  ['at-least: "2.11"', 4, /has version 2\.10\.3, and the environment sandbox requires at least 2\.11/],
  ['under: "2.10"', 4, /requires under 2\.10/],
] as const) {
  test(`the version of the vendor is looked at first: ${spec}`, async () => {
    const paths: string[] = [];
    const server = await rawServer((head) => {
      paths.push((/^GET (\S*)/.exec(head) ?? [])[1] ?? '');
      return responseOf('{"api": "2.10.3"}');
    });
    const cwd = collectionOf({
      ...twoSteps,
      'requests/version.yaml': 'url: ${origin}/version\n',
      'environments/sandbox.yaml': `changes: allow\nvariables: {origin: "${server.origin}"}\nhosts: [127.0.0.1]\nversion: {request: version, at: $.api, ${spec}}\n`,
    });
    const ended = await echoTrail(['run', 't'], { cwd });
    assert.equal(ended.status, status, ended.out + ended.err);
    assert.match(ended.out + ended.err, says);
    assert.deepEqual(paths, status === 0 ? ['/version', '/r', '/r'] : ['/version']);
    await server.close();
  });
}

test('a folder of trails is walked, one after the other', async () => {
  const server = await rawServer(() => responseOf('{}'));
  const cwd = collectionOf(
    {
      'requests/r.yaml': 'url: ${origin}/r\n',
      'trails/night/a.yaml': 'steps: [{send: r}]\n',
      'trails/night/b.yaml': 'steps: [{send: r}, {send: r}]\n',
      'trails/day.yaml': 'steps: [{send: r}]\n',
    },
    server.origin,
  );
  const ended = await echoTrail(['run', 'night'], { cwd });
  assert.equal(ended.status, 0, ended.err);
  assert.match(ended.out, /night\/a: passed[\s\S]*night\/b: passed/);
  assert.doesNotMatch(ended.out, /day/);
  await server.close();
});
