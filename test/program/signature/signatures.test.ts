/** Signed requests through the built program, against desks that refuse whatever is wrong. */
import assert from 'node:assert/strict';
import { createHmac } from 'node:crypto';
import { readFileSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import { after, test } from 'node:test';
import { collectionOf, demoCollection, everyFile, writeIn } from '../../support/folder.js';
import { document, type Ended, echoTrail, userFolder } from '../../support/program.js';
import { harbourForThisFile } from '../../support/standin.js';

const { origin } = await harbourForThisFile();
const keys = {
  ECHO_TRAIL_SECRET_FILING_KEY: 'kipper-crate-7720',
  ECHO_TRAIL_SECRET_PILOTAGE_KEY: 'sounding-lead-2290',
  ECHO_TRAIL_SECRET_LOCKS_KEY: 'bG9jay1nYXRlLXdpbmNoLTE3NTAtbGFya2hhdmVu',
  ECHO_TRAIL_SECRET_PLANS_KEY: 'chart-drawer-3381',
};
/** With the key that the guide shows its example with. */
const guide = { ...keys, ECHO_TRAIL_SECRET_FILING_KEY: 'herring-barrel-0451' };
const demo = demoCollection(origin);
const run = (args: readonly string[], { cwd = demo, env = keys as Record<string, string> } = {}): Promise<Ended> =>
  echoTrail(args, { cwd, env });

interface Step {
  readonly name: string;
  readonly part: string;
  readonly secret: boolean;
  readonly value: string | null;
}
const stepsOf = (ended: Ended): Step[] => document<{ signature: { steps: Step[] } }>(ended).signature.steps;

for (const [name, said] of [
  ['manifests/file', /"number": "M-/],
  ['manifests/list', /"items"/],
  ['pilotage/order', /"order": "O-/],
  ['locks/list', /"West"/],
  ['plans/north', /Plan of the north quay/],
] as const) {
  test(`${name}: the desk takes the signature`, async () => {
    const ended = await run(['send', name]);
    assert.equal(ended.status, 0, ended.err);
    assert.match(ended.out, said);
  });
}

test('the desks refuse what is wrong, stale or used before, and say little', async () => {
  const wrong = await run(['send', 'manifests/file'], {
    env: { ...keys, ECHO_TRAIL_SECRET_FILING_KEY: 'another-key-here' },
  });
  assert.equal(wrong.status, 1);
  assert.match(wrong.err, /seal does not fit/);
  assert.match(wrong.err, /signature filing \(recipe\): X-Office-Time, X-Office-Seal, made from secret filingKey/);
  assert.match(wrong.err, /echo-trail preview manifests\/file --signature/);
  const stale = collectionOf(
    {
      'signatures/filing.yaml': readFileSync(join(demo, 'signatures/filing.yaml'), 'utf8').replace(
        '${now |',
        '${now | plus("-10m") |',
      ),
      'requests/list.yaml': 'url: ${origin}/filing/manifests\nheaders: {X-Office-Desk: "7"}\nsignature: filing\n',
      'environments/sandbox.yaml': `changes: allow\nvariables: {origin: "${origin}", filing-key-id: agent-7}\nhosts: [127.0.0.1]\n`,
    },
    origin,
  );
  assert.match((await run(['send', 'list'], { cwd: stale })).err, /stale/);
  const { url } = document<{ url: string }>(await run(['preview', 'plans/north', '--reveal', '--json']));
  const seal = new URL(url).searchParams.get('seal') ?? '';
  assert.equal(seal.length, 43);
  assert.equal((await fetch(url)).status, 200);
  assert.equal((await fetch(url.replace('until=1', 'until=2'))).status, 403);
  assert.equal((await fetch(url.replace(seal, `${seal.slice(0, -1)}_`))).status, 403);
  // A signature is good once.
  const preview = document<{ headers: { name: string; value: string }[]; url: string }>(
    await run(['preview', 'manifests/list', '--reveal', '--json']),
  );
  const headers = Object.fromEntries(
    preview.headers.filter(({ name }) => /^x-/i.test(name)).map(({ name, value }) => [name, value]),
  );
  assert.equal((await fetch(preview.url, { headers })).status, 200);
  const again = await fetch(preview.url, { headers });
  assert.equal(again.status, 401);
  assert.match(await again.text(), /used before/);
});

test('preview --signature: every value in order, what is secret hidden, derived keys too; nothing is sent', async () => {
  const before = (await (await fetch(`${origin}/filing/counts`)).json()) as { sealed: number; refused: number };
  const steps = stepsOf(await run(['preview', 'pilotage/order', '--time', '2026-03-02T09:30:00Z', '--json']));
  assert.deepEqual(
    steps.map(({ name, part, secret, value }) => [name, part, secret, value === null]),
    [
      ['stamp', 'value', false, false],
      ['X-Pilotage-Time', 'header', false, false],
      ['covered', 'value', false, false],
      ['account', 'value', false, false],
      ['base', 'value', false, false],
      ['first-key', 'value', true, false],
      ['day-key', 'value', true, true],
      ['desk-key', 'value', true, true],
      ['seal', 'value', true, true],
      ['Authorization', 'header', true, false],
    ],
  );
  assert.equal(steps.find(({ name }) => name === 'first-key')?.value, 'day ‹secret›');
  const text = await run(['preview', 'manifests/file', '--signature', '--time', '2026-03-02T09:30:00Z']);
  assert.equal(text.status, 0, text.err);
  assert.match(
    text.out,
    /1 {2}\/filing\/manifests⏎\n {4}2 {2}POST⏎\n {4}3 {2}\(empty\)⏎\n {4}4 {2}x-office-desk:7⏎\n {4}5 {2}x-office-time:20260302T093000Z⏎/,
  );
  assert.match(text.out, /seal +‹secret› {2}44 characters/);
  assert.match(text.out, /X-Office-Seal {2}id=agent-7; seal=‹secret›/);
  for (const ended of [
    text,
    await run(['preview', 'manifests/file', '--json']),
    await run(['preview', 'manifests/file']),
  ])
    assert.doesNotMatch(ended.out + ended.err, /herring|kipper|TVTGYu7wa5/);
  const revealed = await run(
    ['preview', 'manifests/file', '--signature', '--time', '2026-03-02T09:30:00Z', '--reveal'],
    { env: guide },
  );
  assert.match(revealed.out, /seal +TVTGYu7wa5eSMz5\/R3fLr\/hOvq8EDk49336Ad8a7Pi8=/, 'the example in the guide');
  assert.deepEqual(await (await fetch(`${origin}/filing/counts`)).json(), before);
});

test('preview --signature without its secret shows what can be made without it', async () => {
  const ended = await run(['preview', 'manifests/file', '--signature'], { env: {} });
  assert.equal(ended.status, 0);
  assert.match(ended.out, /base {11}6 lines/);
  assert.doesNotMatch(ended.out, /X-Office-Seal/);
  assert.match(ended.err, /the secret filingKey is not set: what is made from it is left out/);
  const sent = await run(['send', 'manifests/file'], { env: {} });
  assert.equal(sent.status, 4);
  assert.match(sent.err, /the secret filingKey is not set/);
});

const expected = [
  '/filing/manifests',
  'POST',
  '',
  'x-office-desk:7',
  'x-office-time:20260302T093000Z',
  '0e9238a93ecf19d3d56df512d4300b4979232b47d6f321f7cbd1a50f5963d132',
].join('\n');

test('preview --against points at the first difference and names its likely cause', async () => {
  const compare = (text: string, ...more: string[]) =>
    run(['preview', 'manifests/file', '--time', '2026-03-02T09:30:00Z', '--against', text, ...more], { env: guide });
  const same = await compare(expected);
  assert.equal(same.status, 0);
  assert.match(same.out, /same {3}base is what the vendor shows/);
  writeIn(demo, 'expected.txt', `${expected}\n`);
  assert.match((await compare('expected.txt')).out, /same {3}base/, 'a file, with the line break of the editor');
  assert.match(
    (await compare(expected.replaceAll('\n', '\\n'))).out,
    /same {3}base/,
    'line breaks as a message writes them',
  );
  const space = await compare(expected.replace('x-office-desk:7', 'x-office-desk: 7'));
  assert.equal(space.status, 1);
  assert.match(space.out, /base parts from what the vendor shows at line 4, character 15\n/);
  assert.match(
    space.out,
    /\^ ours has "7" \(U\+0037\), theirs has space \(U\+0020\)\nlikely {3}theirs has a space behind the colon/,
  );
  const zone = document<{ against: unknown }>(await compare(expected.replace('T0930', 'T1030'), '--json'));
  assert.deepEqual(zone.against, {
    name: 'base',
    same: false,
    difference: {
      line: 5,
      column: 24,
      ours: 'x-office-time:20260302T093000Z',
      theirs: 'x-office-time:20260302T103000Z',
      cause: 'the times are 1 h apart: another time zone; | in-zone("UTC"), or the zone of the vendor',
      further: [],
    },
  });
  const seal = await compare('id=agent-7; seal=AAAA', '--value', 'X-Office-Seal');
  assert.match(seal.out, /X-Office-Seal is secret and is not shown; it is not what the vendor shows/);
  assert.match(
    (await compare('id=agent-7; seal=TVTGYu7wa5eSMz5/R3fLr/hOvq8EDk49336Ad8a7Pi8=')).out,
    /same {3}X-Office-Seal/,
  );
});

test('what the desk expected, asked for once, is the text to compare with', async () => {
  const told = await run([
    'send',
    'POST',
    '/filing/manifests',
    '--sign',
    'none',
    '--session',
    'none',
    '--header',
    'X-Explain: yes',
    '--header',
    'X-Office-Desk: 7',
    '--pick',
    '$.expected',
  ]);
  assert.match(told.out, /^\/filing\/manifests\nPOST\n\nx-office-desk:7\n/);
});

test('wrong usage is told: no signature, an unknown value, an unreadable time, an unknown name', async () => {
  for (const [args, says, status] of [
    [['preview', 'vessels/list', '--signature'], /the request has no signature/, 2],
    [['preview', 'manifests/file', '--against', 'x', '--value', 'bse'], /no text bse[\s\S]*did you mean base\?/, 2],
    [['preview', 'manifests/file', '--value', 'base'], /--value requires --against/, 2],
    [['preview', 'manifests/file', '--against', 'lost.txt'], /lost\.txt does not exist/, 2],
    [['preview', 'manifests/file', '--time', '2026-03-02 09:30'], /--time cannot read[\s\S]*with its zone/, 2],
    [['preview', 'manifests/file', '--sign', 'filling'], /there is no signature filling[\s\S]*filing/, 2],
    [['send', 'manifests/file', '--sign', 'none'], /no seal/, 1],
  ] as const) {
    const ended = await run(args);
    assert.equal(ended.status, status, args.join(' '));
    assert.match(ended.err, says, args.join(' '));
  }
});

test('check holds the documented examples, and points at what does not', async () => {
  assert.equal((await run(['check'])).status, 0);
  const cwd = demoCollection(origin);
  const path = join(cwd, 'signatures/filing.yaml');
  const text = readFileSync(path, 'utf8');
  writeFileSync(path, text.replace(/ +- \$\{sent\.query.*\n/, ''));
  const ended = await run(['check', '--json'], { cwd, env: {} });
  assert.equal(ended.status, 2);
  const { findings } = document<{
    findings: { rule: string; file: string; line: number; what: string; remedy: string }[];
  }>(ended);
  assert.deepEqual(
    findings.map(({ rule, file }) => [rule, file]),
    Array(2).fill(['signature-examples-hold', 'signatures/filing.yaml']),
  );
  assert.match(findings[0]?.what ?? '', /base parts from the example at 3:1/);
  assert.match(findings[0]?.remedy ?? '', /theirs has an empty line at line 3/);
  writeFileSync(path, text.replace('hmac-sha-256(secret', 'hmac-sha-1(secret'));
  const digest = await run(['check'], { cwd, env: {} });
  assert.match(digest.out, /X-Office-Seal is not what the example says[\s\S]*another digest, or written otherwise/);
  assert.doesNotMatch(digest.out, /herring/);
  writeFileSync(path, text.replace('${base | hmac', '${bsae | hmac'));
  assert.match((await run(['check'], { cwd, env: {} })).out, /bsae/);
  writeFileSync(path, text.replace('define:', 'kind: recip\ndefine:'));
  const kind = await run(['check'], { cwd, env: {} });
  assert.match(
    kind.out,
    /kind cannot be the text recip[\s\S]*did you mean recipe\? allowed: recipe, message-signature, keyed-digest, request-token\n/,
  );
  writeFileSync(path, text.replace('define:', 'kind: request-token\nalgorithm: ES256\nkey: x\nlasts: soon\ndefin:'));
  assert.match((await run(['check'], { cwd, env: {} })).out, /filing\.yaml:\d+:\d+ .*lasts/);
  writeFileSync(path, text);
  writeIn(cwd, 'requests/lost.yaml', 'url: ${origin}/x\nsignature: lost\n');
  assert.match((await run(['check'], { cwd, env: {} })).out, /requests\/lost\.yaml:2:12 .*there is no signature lost/);
});

test('nothing of a signature is left in what was written, nor printed where a response repeats it', async () => {
  const cwd = collectionOf(
    {
      'signatures/seal.yaml':
        'define: {seal: "${sent.path | hmac-sha-256(secret.key) | hex}"}\nheaders: {X-Seal: "v1=${seal}"}\nquery: {also: "${seal}"}\n',
      'requests/mirror.yaml': 'url: ${origin}/mirror\nsignature: seal\n',
      'signatures/message.yaml':
        'kind: message-signature\nsignatures: {a: {components: ["@method"], algorithm: hmac-sha256, key: "${secret.key | base64}", created: false}}\n',
    },
    origin,
  );
  const env = { ECHO_TRAIL_SECRET_KEY: 'winch-grease-77' };
  const ended = await run(['send', 'mirror'], { cwd, env });
  assert.equal(ended.status, 0, ended.err);
  const message = await run(['send', 'mirror', '--sign', 'message'], { cwd, env });
  assert.equal(message.status, 0, message.err);
  const base = createHmac('sha256', 'winch-grease-77')
    .update('"@method": GET\n"@signature-params": ("@method")')
    .digest('base64');
  assert.match(message.out, /a=:‹secret›:/);
  for (const text of [message.out, message.err, ...everyFile(cwd).map((file) => file.text)])
    assert.ok(!text.includes(base));
  const seal = createHmac('sha256', 'winch-grease-77').update('/mirror').digest('hex');
  assert.match(ended.out, /‹secret›/);
  for (const text of [
    ended.out,
    ended.err,
    (await run(['echo', 'show'], { cwd, env })).out,
    ...everyFile(cwd).map((file) => file.text),
    ...everyFile(userFolder).map((file) => file.text),
  ])
    assert.ok(!text.includes(seal) && !text.includes('winch-grease'));
});

test('a sealed address is told without its seal, wherever a response speaks of its address', async () => {
  const cwd = demoCollection(origin);
  writeIn(
    cwd,
    'requests/plans/kept.yaml',
    'url: ${origin}/plans/north\nsession: none\nsignature: plans\nkeep: {address: final-url}\n',
  );
  const sent = await run(['send', 'plans/kept', '--json'], { cwd });
  assert.equal(sent.status, 0, sent.err);
  const { finalUrl, kept, url } = document<{ finalUrl: string; url: string; kept: { address: string } }>(sent);
  assert.equal(finalUrl, `${origin}/plans/north`);
  assert.equal(kept.address, finalUrl);
  assert.match(url, /&seal=‹secret›$/);
  for (const { text } of everyFile(cwd)) assert.doesNotMatch(text, /[?&]seal=[A-Za-z0-9_-]{20}/);
});

test('of a token inside of what is signed, a comparison shows no piece', async () => {
  const cwd = collectionOf(
    {
      'sessions/key.yaml': 'kind: bearer\ntoken: ${secret.token}\n',
      'signatures/seal.yaml':
        'define: {base: "authorization:${sent.header.authorization}"}\nheaders: {X-Seal: "${base | hmac-sha-256(secret.key) | hex}"}\n',
      'requests/it.yaml': 'url: ${origin}/mirror\nsession: key\nsignature: seal\n',
    },
    origin,
  );
  const token = 'Qm'.repeat(90);
  const env = { ECHO_TRAIL_SECRET_KEY: 'winch-grease-77', ECHO_TRAIL_SECRET_TOKEN: token };
  const ended = await run(
    ['preview', 'it', '--against', `authorization:Bearer ${token.slice(0, 150)}xx`, '--value', 'base'],
    { cwd, env },
  );
  assert.equal(ended.status, 1, ended.err);
  assert.match(ended.out, /base parts from what the vendor shows at line 1/);
  assert.match(ended.out, /ours +authorization:Bearer ‹secret›\n/);
  assert.doesNotMatch(ended.out.replace(/^theirs.*$/m, ''), /QmQm/);
});

test('a redirect is signed anew; another host gets nothing', async () => {
  const seen: (string | undefined)[] = [];
  const other: (string | undefined)[] = [];
  const elsewhere = createServer((request, response) => {
    other.push(request.headers['x-seal'] as string | undefined);
    response.end('{}');
  });
  await new Promise<void>((resolve) => elsewhere.listen(0, '127.0.0.1', resolve));
  const away = `http://localhost:${(elsewhere.address() as AddressInfo).port}/end`;
  const server = createServer((request, response) => {
    seen.push(`${request.url} ${request.headers['x-seal']}`);
    if (request.url === '/start') response.writeHead(302, { location: '/next' }).end();
    else if (request.url === '/next') response.writeHead(302, { location: away }).end();
    else response.end('{}');
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  after(() => {
    server.close();
    elsewhere.close();
  });
  const at = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  const cwd = collectionOf(
    {
      'signatures/seal.yaml': 'headers: {X-Seal: "${sent.path | hmac-sha-256(secret.key) | hex}"}\n',
      'requests/start.yaml': 'url: ${origin}/start\nsignature: seal\n',
    },
    at,
  );
  const ended = await run(['send', 'start'], { cwd, env: { ECHO_TRAIL_SECRET_KEY: 'winch-grease-77' } });
  const sealOf = (path: string): string =>
    `${path} ${createHmac('sha256', 'winch-grease-77').update(path).digest('hex')}`;
  assert.deepEqual(seen, [sealOf('/start'), sealOf('/next')]);
  assert.deepEqual(other, [undefined], ended.err);
});

test('clock: follow-server signs with the time of the server, from the first refusal on', async () => {
  const ahead = 3 * 3600_000;
  const times: number[] = [];
  const server = createServer((request, response) => {
    const now = Date.now() + ahead;
    const time = Number(request.headers['x-time']) * 1000;
    times.push(time);
    response.sendDate = false;
    response.setHeader('Date', new Date(now).toUTCString());
    response.writeHead(Math.abs(now - time) < 60_000 ? 200 : 401).end('{}');
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  after(() => server.close());
  const at = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  const files = {
    'signatures/time.yaml': 'headers: {X-Time: "${now | unix}"}\n',
    'requests/it.yaml': 'url: ${origin}/it\nsignature: time\n',
  };
  const own = await run(['send', 'it'], { cwd: collectionOf(files, at) });
  assert.equal(own.status, 1);
  assert.match(own.err, /the server's clock is 180 min ahead of this one/);
  assert.match(own.err, /clock: follow-server in the environment/);
  assert.equal(times.length, 1);
  const cwd = collectionOf(
    { ...files, 'environments/sandbox.yaml': `variables: {origin: "${at}"}\nclock: follow-server\n` },
    at,
  );
  const corrected = await run(['send', 'it'], { cwd });
  assert.equal(corrected.status, 0, corrected.err);
  assert.equal(times.length, 3, 'refused once, then signed with the right time');
  assert.equal((await run(['send', 'it'], { cwd })).status, 0);
  assert.equal(times.length, 4, 'the next command knows');
  const look = await run(['preview', 'it', '--signature'], { cwd });
  assert.match(look.err, /the server's clock was (?:179|180) min(?: \d+ s)? ahead of this one: signed with its time/);
  const seconds = Number(/X-Time +(\d+)/.exec(look.out)?.[1]);
  assert.ok(Math.abs(seconds * 1000 - Date.now() - ahead) < 60_000, `${seconds}`);
});

test('what a session and its cookies add is signed, and each try has a nonce and a time of its own', async () => {
  const seen: { readonly seal: string; readonly nonce: string; readonly fits: boolean }[] = [];
  let opened = 0;
  const server = createServer((request, response) => {
    if (request.url === '/enter') {
      opened += 1;
      response.setHeader('Set-Cookie', `berth=B${opened}; Path=/`);
      response.writeHead(200, { 'content-type': 'application/json' }).end(`{"token":"tide-token-${opened}00"}`);
      return;
    }
    const { authorization = '', cookie = '', host = '', 'x-nonce': nonce = '', 'x-seal': seal = '' } = request.headers;
    const base = [`authorization:${authorization}`, `cookie:${cookie}`, `host:${host}`, `x-nonce:${nonce}`].join('\n');
    const expected = createHmac('sha256', 'winch-grease-77').update(base).digest('hex');
    seen.push({ seal: String(seal), nonce: String(nonce), fits: seal === expected });
    response.writeHead(authorization === 'Bearer tide-token-200' ? 200 : 401).end('{}');
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  after(() => server.close());
  const cwd = collectionOf(
    {
      'requests/enter.yaml': 'method: POST\nchanges: false\nurl: ${origin}/enter\n',
      'sessions/desk.yaml': 'kind: login\nopen: {send: enter}\ntoken: $.token\n',
      'signatures/seal.yaml': `define:
  base: {lines: ['\${sent.headers | only("authorization", "cookie", "host", "x-nonce") | header-lines}']}
headers: {X-Nonce: "\${nonce}", X-Seal: "\${base | hmac-sha-256(secret.key) | hex}"}
`,
      'requests/it.yaml': 'url: ${origin}/it\nsession: desk\nsignature: seal\n',
    },
    `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
  );
  const env = { ECHO_TRAIL_SECRET_KEY: 'winch-grease-77' };
  // The first token is refused later: it is renewed, and the request is signed again.
  assert.equal((await run(['session', 'open', 'desk'], { cwd, env })).status, 0);
  const ended = await run(['send', 'it'], { cwd, env });
  assert.equal(ended.status, 0, ended.err);
  assert.deepEqual(
    seen.map(({ fits }) => fits),
    [true, true],
  );
  assert.equal(new Set(seen.map(({ nonce }) => nonce)).size, 2);
  const look = await run(['preview', 'it', '--signature'], { cwd, env });
  assert.match(look.out, /1 {2}authorization:Bearer ‹secret›⏎/, 'a token of a session stays hidden in what is signed');
  assert.doesNotMatch(look.out + look.err, /tide-token/);
  assert.ok(seen.every(({ nonce }) => /^[0-9a-f]{32}$/.test(nonce)));
});

test('a vendor that signs its responses is held to it', async () => {
  const cwd = demoCollection(origin);
  const path = join(cwd, 'signatures/locks.yaml');
  writeFileSync(
    path,
    readFileSync(path, 'utf8').replace('components: ["@status", content-digest]', 'components: ["@status", date]'),
  );
  const ended = await run(['send', 'locks/list'], { cwd });
  assert.equal(ended.status, 1);
  assert.match(ended.err, /the response is not signed as it must be: keeper: it does not cover "date"/);
});

test('draft proposes a recipe from the prose of the documentation, and it is taken', async () => {
  const cwd = collectionOf({}, origin);
  assert.equal((await run(['docs', 'add', `${origin}/filing/openapi.yaml`, '--name', 'filing'], { cwd })).status, 0);
  const drafted = await run(['draft', 'filing/fileManifest'], { cwd });
  assert.equal(drafted.status, 0, drafted.err);
  assert.match(drafted.out, /wrote signatures\/office-seal\.yaml/);
  const recipe = readFileSync(join(cwd, 'signatures/office-seal.yaml'), 'utf8');
  assert.match(recipe, /# {3}3\. the query, sorted and percent-encoded/, 'the prose stands beside it');
  const request = readFileSync(join(cwd, 'requests/filing/file-manifest.yaml'), 'utf8');
  assert.match(request, /^signature: office-seal/m);
  assert.doesNotMatch(request, /X-Office-(?:Time|RequestSigner): \$/);
  writeFileSync(join(cwd, 'signatures/office-seal.yaml'), recipe.replace('key-id: KEY-ID', 'key-id: agent-7'));
  const sent = await run(
    [
      'send',
      'filing/file-manifest',
      '--set',
      'X-Office-Desk=7',
      '--set',
      'vessel=Amber Tern',
      '--set',
      'cargo=grain',
      '--set',
      'tonnes=410.5',
    ],
    { cwd, env: { ECHO_TRAIL_SECRET_SIGNING_KEY: 'kipper-crate-7720' } },
  );
  assert.equal(sent.status, 0, sent.err);
  const again = await run(['draft', 'filing/listManifests'], { cwd });
  assert.doesNotMatch(again.out, /wrote signatures/, 'a recipe that is there stays');
});
