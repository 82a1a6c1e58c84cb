/** `preview`, `send`, `env`, `secret`, `session`, `echo`: one request, from its file to its echo. */
import assert from 'node:assert/strict';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { collectionOf, demoCollection, writeIn } from '../../support/folder.js';
import { document, documentLines, echoTrail } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';
import { harbourForThisFile } from '../../support/standin.js';

const standin = await harbourForThisFile();
const password = standin.credentials.password;

async function readyCollection(): Promise<string> {
  const cwd = demoCollection(standin.origin);
  const stored = await echoTrail(['secret', 'set', 'deskPassword'], { cwd, input: `${password}\n` });
  assert.equal(stored.status, 0, stored.err);
  return cwd;
}

test('preview shows what send then puts on the wire, byte for byte, and sends nothing itself', async () => {
  const server = await rawServer(() => responseOf('{}'));
  const cwd = collectionOf(
    {
      'requests/defaults.yaml': 'headers: {X-Office: north, Accept: text/plain}\n',
      'requests/calls/book.yaml': `
inputs:
  imo: {default: "90 00/017"}
  nights: {type: integer, default: 2}
  notify: {type: array, default: [agent, pilot]}
  cargo: {}
method: POST
url: \${origin}//v1/vessels/{imo}/calls
lists: bracketed
query: {notify: "\${notify}", code: 0012, gone: "\${cargo ?? absent}", quay: "a b+c&d=é"}
headers: {accept: application/json, X-Twice: [one, two]}
body:
  json: {nights: "\${nights}", exact: 12345678901234567890, price: 1.10, cargo: "\${cargo ?? absent}", text: "for \${nights}"}
`,
    },
    server.origin,
  );
  const preview = document<{
    method: string;
    url: string;
    query: { name: string; value: string }[];
    headers: { name: string; value: string; origin: string }[];
    body: { text: string };
    names: { name: string; origin: string }[];
  }>(await echoTrail(['preview', 'calls/book', '--json'], { cwd }));
  assert.equal(server.received.length, 0);
  assert.equal(
    preview.url,
    `${server.origin}/v1/vessels/90%2000%2F017/calls?notify%5B%5D=agent&notify%5B%5D=pilot&code=0012&quay=a%20b%2Bc%26d%3D%C3%A9`,
  );
  assert.deepEqual(preview.query.at(-1), { name: 'quay', value: 'a b+c&d=é' });
  assert.equal(preview.body.text, '{"nights":2,"exact":12345678901234567890,"price":1.10,"text":"for 2"}');
  assert.deepEqual(
    preview.headers.filter(({ origin }) => origin !== 'automatic'),
    [
      { name: 'X-Office', value: 'north', origin: 'requests/defaults.yaml' },
      { name: 'accept', value: 'application/json', origin: 'request calls/book' },
      { name: 'X-Twice', value: 'one', origin: 'request calls/book' },
      { name: 'X-Twice', value: 'two', origin: 'request calls/book' },
    ],
  );
  assert.deepEqual(
    preview.names.map(({ name, origin }) => [name, origin]),
    [
      ['origin', 'environment sandbox'],
      ['imo', 'default in requests/calls/book.yaml'],
      ['notify', 'default in requests/calls/book.yaml'],
      ['nights', 'default in requests/calls/book.yaml'],
    ],
  );
  assert.equal((await echoTrail(['send', 'calls/book'], { cwd })).status, 0);
  const path = preview.url.slice(server.origin.length);
  const lines = preview.headers.map(({ name, value }) => `${name}: ${value}`);
  assert.equal(
    server.received[0],
    [`${preview.method} ${path} HTTP/1.1`, ...lines, '', preview.body.text].join('\r\n'),
  );
  await server.close();
});

const ways: readonly (readonly [what: string, file: string, wire: RegExp])[] = [
  [
    'a form',
    'method: POST\nurl: ${origin}/\nbody: {form: {user: "a b&c", code: 0012, tags: [x, y]}}\n',
    /content-type: application\/x-www-form-urlencoded\r\ncontent-length: 36\r\n\r\nuser=a\+b%26c&code=0012&tags=x&tags=y$/,
  ],
  [
    'text',
    'method: PUT\nurl: ${origin}/\nbody: {text: "grüße"}\n',
    /content-type: text\/plain; charset=utf-8\r\ncontent-length: 7\r\n\r\n/,
  ],
  [
    'an explicit content type',
    'method: POST\nurl: ${origin}/\nheaders: {Content-Type: application/merge-patch+json}\nbody: {json: [1]}\n',
    /Content-Type: application\/merge-patch\+json\r\n(?![\s\S]*content-type)[\s\S]*\r\n\r\n\[1\]$/,
  ],
  ['no body', 'method: POST\nurl: ${origin}/\n', /content-length: 0\r\n\r\n$/],
  ['a joined list', 'url: ${origin}/x?a=1\nlists: joined\nquery: {b: [1, 2]}\n', /^GET \/x\?a=1&b=1,2 HTTP/],
];
for (const [what, file, wire] of ways) {
  test(`${what} leaves as it should`, async () => {
    const server = await rawServer(() => responseOf('{}'));
    const cwd = collectionOf({ 'requests/x.yaml': file }, server.origin);
    const sent = await echoTrail(['send', 'x'], { cwd });
    assert.equal(sent.status, 0, sent.err);
    assert.match(server.received.join(''), wire);
    await server.close();
  });
}

test('send shows status, phases, size, type and body, opens the session once, and holds what it keeps', async () => {
  const cwd = await readyCollection();
  const sent = await echoTrail(['send', 'calls/book', '--set', 'nights=2'], { cwd });
  assert.equal(sent.status, 0, sent.err);
  assert.match(sent.err, /^POST .*\/v1\/vessels\/9000017\/calls {3}environment sandbox$/m);
  assert.match(sent.err, /^201 Created {3}[\d.]+ m?s \(.*waiting .*receiving .*\) {3}\d+ B {3}application\/json/m);
  assert.match(sent.err, /^met +6 expectations$/m);
  const id = /kept +callId = "(PC-\d+)"/.exec(sent.err)?.[1];
  assert.ok(id);
  assert.equal((JSON.parse(sent.out) as { id: string }).id, id);

  const shown = await echoTrail(['env', 'show', '--json'], { cwd });
  assert.deepEqual(document<{ held: unknown[] }>(shown).held, [
    { name: 'callId', value: id, origin: 'held from calls/book $.id' },
  ]);
  assert.equal((await echoTrail(['send', 'calls/show', '--pick', '$.id'], { cwd })).out, `${id}\n`);
  const cancelled = await echoTrail(['send', 'calls/cancel', '--json'], { cwd });
  assert.deepEqual([cancelled.status, document(cancelled).status, document(cancelled).body], [0, 204, null]);
  await echoTrail(['env', 'clear'], { cwd });
  const missing = await echoTrail(['send', 'calls/show'], { cwd });
  assert.equal(missing.status, 2);
  assert.match(
    missing.err,
    /needs the input callId \(number of the port call\)[\s\S]*--set callId=VALUE; echo-trail send calls\/book keeps it$/m,
  );

  const echoes = document<{ echoes: { request: string }[] }>(
    await echoTrail(['echo', 'list', '--json'], { cwd }),
  ).echoes;
  assert.equal(echoes.filter(({ request }) => request === 'desk/log-in').length, 1);
});

test('--pick prints one value for a shell, and says what is near where nothing stands', async () => {
  const cwd = await readyCollection();
  const pick = (place: string) => echoTrail(['send', 'vessels/show', '--pick', place], { cwd });
  assert.deepEqual(await pick('$.lengthM'), { status: 0, out: '82\n', err: '' });
  assert.equal((await pick('status')).out, '200\n');
  assert.equal(
    (await pick('$')).out,
    '{"imo":"9000017","name":"Amber Tern","flag":"Larkhaven","kind":"coaster","lengthM":82,"draftM":4.1}\n',
  );
  const missing = await pick('$.nmae');
  assert.deepEqual([missing.status, missing.out], [1, '']);
  assert.match(missing.err, /there is nothing at \$\.nmae[\s\S]*nearest: \$\.name/);
  const wrong = await pick('$.[');
  assert.equal(wrong.status, 2);
});

test('a failed expectation says where, expected, found and the nearest thing; the status is 1', async () => {
  const cwd = await readyCollection();
  writeIn(
    cwd,
    'requests/vessels/wrong.yaml',
    'url: ${origin}/v1/vessels/9000017\nexpect: {status: 2xx, $.flag: Ostrand, $.nmae: {exists: true}, header.content-typ: {starts-with: text}, $.lengthM: {under: 80}}\n',
  );
  const { status, err } = await echoTrail(['send', 'vessels/wrong'], { cwd });
  assert.equal(status, 1);
  assert.match(err, /met +1 expectation\n/);
  assert.match(err, /failed +\$\.flag: expected "Ostrand", found "Larkhaven"/);
  assert.match(err, /failed +\$\.nmae: expected exists, found nothing\n +nearest: \$\.name/);
  assert.match(
    err,
    /failed +header\.content-typ: expected starts with "text", found nothing\n +nearest: header\.content-type/,
  );
  assert.match(err, /failed +\$\.lengthM: expected under 80, found 82/);
});

test('a status of 400 or more fails by itself, with what the vendor says', async () => {
  const cwd = await readyCollection();
  const { status, err } = await echoTrail(['send', 'GET', '/v1/vessels/1234567', '--session', 'agent'], { cwd });
  assert.equal(status, 1);
  assert.match(err, /status: expected under 400, found 404\n +Not found: there is no vessel 1234567/);
  const none = await echoTrail(['send', 'vessels/show', '--session', 'none'], { cwd });
  assert.equal(none.status, 1);
  assert.match(none.err, /401 Unauthorized[\s\S]*this call wants a bearer token/);
});

test('a held value fills only an input without a default, and send says that it does', async () => {
  const server = await rawServer(() => responseOf('{"id": "PC-0003", "labels": "of-a"}'));
  const cwd = collectionOf(
    {
      'requests/a.yaml': 'url: ${origin}/a\nkeep: {callId: $.id, labels: $.labels}\n',
      'requests/b.yaml':
        'method: DELETE\ninputs: {callId: {}, labels: {default: of-b}}\nurl: ${origin}/b/{callId}/{labels}\n',
    },
    server.origin,
  );
  await echoTrail(['send', 'a'], { cwd });
  const { status, err } = await echoTrail(['send', 'b'], { cwd });
  assert.equal(status, 0, err);
  assert.match(server.received.at(-1) ?? '', /^DELETE \/b\/PC-0003\/of-b /);
  assert.equal(err.match(/callId = "PC-0003" {2}held from a/g)?.length, 1);
  assert.doesNotMatch(err, /labels/);
  await server.close();
});

test('a documented schema is held against the response', async () => {
  const server = await rawServer(() => responseOf('{"imo": "9000017", "name": 5}'));
  const cwd = demoCollection(server.origin);
  const { status, err } = await echoTrail(['send', 'vessels/show', '--session', 'none'], { cwd });
  assert.equal(status, 1);
  assert.match(err, /\$: expected valid by the documented schema[\s\S]*must have required property 'flag'/);
  await server.close();
});

test('an ad-hoc request needs no file, and --as makes the file that does the same', async () => {
  const cwd = await readyCollection();
  const args = [
    'GET',
    '/v1/berths',
    '--session',
    'agent',
    '--query',
    'quay=north',
    '--header',
    'X-Note: ${not} {an} expression',
  ];
  const first = await echoTrail(['send', ...args, '--as', 'berths/north', '--pick', '$.items[*].code'], { cwd });
  assert.equal(first.out, '["N1","N2","N3","N4"]\n', first.err);
  const second = await echoTrail(['send', 'berths/north', '--pick', '$.items[*].code'], { cwd });
  assert.equal(second.out, first.out, second.err);
  const preview = await echoTrail(['preview', 'berths/north'], { cwd });
  assert.match(preview.out, /X-Note +\$\{not\} \{an\} expression/);
  const again = await echoTrail(['send', ...args, '--as', 'berths/north'], { cwd });
  assert.equal(again.status, 2);
  assert.match(again.err, /already/);
  const body = await echoTrail(['send', 'POST', '/v1/sessions', '--body-json', '{"user": }'], { cwd });
  assert.equal(body.status, 2);
  assert.match(body.err, /--body-json is not JSON/);
});

test('control characters from the wire never reach the terminal; into a pipe the raw view is byte for byte', async () => {
  const body = Buffer.from('a \u001b[31m \u0007 \u009b2J end', 'latin1');
  const head = `HTTP/1.1 200 OK\r\ncontent-type: text/plain\r\ncontent-length: ${body.length}\r\nx-evil: a\u009bb\r\n\r\n`;
  const server = await rawServer(() => Buffer.concat([Buffer.from(head, 'latin1'), body]));
  const cwd = collectionOf({}, server.origin);
  for (const [view, shown] of [
    ['pretty', /\\u001b\[31m/],
    ['headers', /a\\u009bb/],
  ] as const) {
    const { out, err } = await echoTrail(['send', 'GET', '/', '--view', view], { cwd });
    // biome-ignore lint/suspicious/noControlCharactersInRegex: exactly these must not be there
    assert.doesNotMatch(out + err, /[\u0000-\u0008\u000b-\u001f\u007f-\u009f]/);
    assert.match(out, shown);
  }
  const raw = await echoTrail(['send', 'GET', '/', '--to', 'it.txt'], { cwd });
  assert.equal(raw.status, 0);
  assert.deepEqual(readFileSync(join(cwd, 'it.txt')), body);
  assert.ok((await echoTrail(['send', 'GET', '/', '--view', 'raw'], { cwd })).out.startsWith('a \u001b[31m \u0007 '));
  await server.close();
});

test('env list, use and show name environments and the origin of values', async () => {
  const cwd = demoCollection(standin.origin);
  assert.match((await echoTrail(['env', 'list'], { cwd })).out, /live +changes: refuse[\s\S]*sandbox +chosen/);
  await echoTrail(['env', 'use', 'live', '--shared'], { cwd });
  assert.match(readFileSync(join(cwd, 'echo-trail.yaml'), 'utf8'), /environment: live +# used where/);
  assert.match(
    (await echoTrail(['env', 'show'], { cwd })).out,
    /origin +"https:\/\/api\.larkhaven\.example" +environment live\n +desk-user +"agent" +collection variables/,
  );
  const set = await echoTrail(['env', 'show', 'sandbox', '--set', 'origin=http://127.0.0.1:1', '--json'], { cwd });
  assert.deepEqual(document<{ names: unknown[] }>(set).names[0], {
    name: 'origin',
    value: 'http://127.0.0.1:1',
    origin: '--set',
  });
  const unknown = await echoTrail(['env', 'show', 'sandbx'], { cwd });
  assert.equal(unknown.status, 4);
  assert.match(unknown.err, /did you mean sandbox/);
});

test('echo show gives both directions; an unknown echo says so', async () => {
  const cwd = await readyCollection();
  await echoTrail(['send', 'vessels/show'], { cwd });
  const { out } = await echoTrail(['echo', 'show'], { cwd });
  for (const part of [
    /^sent\n {2}GET http/m,
    /Authorization +‹secret›/,
    /^received\n {2}200 OK/m,
    /"imo": "9000017"/,
    /^met {2}4 expectations$/m,
  ])
    assert.match(out, part);
  const unknown = await echoTrail(['echo', 'show', 'zzzz.9'], { cwd });
  assert.equal(unknown.status, 2);
  assert.ok(existsSync(join(cwd, '.echo-trail/echoes')));
});

test('what was made by hand is told with what takes it back, as a trail has it', async () => {
  const server = await rawServer((head) =>
    head.startsWith('POST /refused')
      ? responseOf('{}', { status: '409 Conflict' })
      : responseOf('{"id":"PC 7","token":"t-77777777"}'),
  );
  const cwd = collectionOf(
    {
      'requests/book.yaml':
        'method: POST\nurl: ${origin}/book\nkeep: {id: $.id, pass: {at: $.token, secret: true}}\nexpect: {status: 201}\n',
      'requests/refused.yaml': 'method: POST\nurl: ${origin}/refused\n',
      'requests/ask.yaml': 'method: POST\nchanges: false\nurl: ${origin}/ask\n',
      'requests/cancel.yaml':
        'inputs: {id: {}, by: {}, pass: {}, note: {}}\nmethod: POST\nurl: ${origin}/cancel/{id}\nbody: {json: {by: "${by}", note: "${note}", pass: "${pass}"}}\n',
      'trails/broken.yaml': 'steps: [{send: book, undo: {}}]\n',
      'trails/stay.yaml':
        'steps:\n  - for-each: [1]\n    steps:\n      - {send: book, undo: {send: cancel, give: {id: "${id}", by: "it\'s us", pass: "${pass}", note: "${before.note}"}}}\n  - {send: refused, undo: {send: cancel}}\n  - {send: ask, undo: {send: cancel}}\n',
    },
    server.origin,
  );
  const made = await echoTrail(['send', 'book'], { cwd });
  assert.equal(made.status, 1, 'it is there, though it is not as expected');
  const line = /^undo +(.*)$/m.exec(made.err)?.[1];
  assert.equal(
    line,
    String.raw`echo-trail send cancel --set id='PC 7' --set by='it'\''s us' --set pass=VALUE --set note=VALUE   as trail stay has it`,
  );
  for (const other of ['refused', 'ask']) {
    const sent = await echoTrail(['send', other], { cwd });
    assert.match(sent.err, /^echo +\w{4}\.1$/m);
    assert.doesNotMatch(sent.err, /^undo/m);
  }
  const { takenBackBy } = document<{ takenBackBy: object }>(await echoTrail(['send', 'book', '--json'], { cwd }));
  assert.deepEqual(takenBackBy, {
    request: 'cancel',
    trail: 'stay',
    give: { id: 'PC 7', by: "it's us", pass: null, note: null },
  });
});

test('a body that says no to its good status is told, by send, by a step, and once for all rows', async () => {
  const vendor = await rawServer(() => responseOf('{"success": false, "note": "the desk is shut"}'));
  const cwd = collectionOf(
    {
      'requests/ask.yaml': 'inputs: {n: {default: 1}}\nurl: ${origin}/\nexpect: {status: 200}\n',
      'requests/judged.yaml': 'url: ${origin}/\nexpect: {status: 200, $.success: false}\n',
      'trails/rows.yaml': 'rows: [{n: 1}, {n: 2}, {n: 3}]\nsteps: [{send: ask}]\n',
    },
    vendor.origin,
  );
  const says = /^warning +the status is 2xx, but \$\.success says false; add expect: \{\$\.success: …\} to check it/m;
  const sent = await echoTrail(['send', 'ask'], { cwd });
  assert.match(sent.err, says);
  // It is told and not judged: no standard says what the words mean.
  assert.equal(sent.status, 0);
  const contradiction = { at: '$.success', found: 'false' };
  assert.deepEqual(document(await echoTrail(['send', 'ask', '--json'], { cwd })).contradiction, contradiction);
  assert.equal(document(await echoTrail(['send', 'judged', '--json'], { cwd })).contradiction, undefined);
  assert.match((await echoTrail(['run', 'ask'], { cwd })).out, says);
  const rows = await echoTrail(['run', 'rows'], { cwd });
  assert.match(
    rows.out,
    /^3 responses report an error despite their 2xx status, .*\n {2}row 1: ask: \$\.success says false$/m,
  );
  assert.doesNotMatch(rows.out, says);
  assert.equal(documentLines(await echoTrail(['run', 'rows', '--json'], { cwd })).at(-1)?.contradictions, 3);
  await vendor.close();
});

test('what was expected and found is data, too, and nothing secret is in it', async () => {
  const response = { berth: { code: 'N1' }, depth: 4, note: 'x'.repeat(2000), pass: 'gull-rock-77' };
  const server = await rawServer(() => responseOf(JSON.stringify(response)));
  const cwd = collectionOf(
    {
      'requests/berth.yaml': `
inputs: {draught: {type: integer, default: 5}}
url: \${origin}/berth
expect:
  status: 201
  $.berth.code: {one-of: [S1, S2]}
  $.berth: {equals: {code: S1}}
  $.note: short
  $.nights: {at-least: 2}
  $.depth: {over: "\${draught}", type: number}
  $.pass: \${secret.wayIn}
  size: {under: 1kB}
`,
    },
    server.origin,
  );
  const env = { ECHO_TRAIL_SECRET_WAY_IN: 'tide-and-lantern' };
  const ended = await echoTrail(['send', 'berth', '--json'], { cwd, env });
  assert.equal(ended.status, 1, ended.err);
  const { expectations } = document<{ expectations: Record<string, unknown>[] }>(ended);
  const data = expectations.map(({ place, matchers, value }) => [place, matchers, value]);
  assert.deepEqual(data, [
    ['status', { equals: 201 }, 200],
    ['$.berth.code', { 'one-of': ['S1', 'S2'] }, 'N1'],
    ['$.berth', { equals: { code: 'S1' } }, { code: 'N1' }],
    ['$.note', { equals: 'short' }, undefined],
    ['$.nights', { 'at-least': 2 }, undefined],
    ['$.depth', { over: 5, type: 'number' }, 4],
    ['$.pass', { equals: '‹secret›' }, 'gull-rock-77'],
    ['size', { under: '1kB' }, Buffer.byteLength(JSON.stringify(response))],
  ]);
  assert.match(String(expectations.at(-1)?.found), /^2\.\d kB$/);
  assert.ok(!ended.out.includes('tide-and-lantern'));
});
