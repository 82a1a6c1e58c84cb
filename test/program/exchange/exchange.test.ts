/** What goes over the wire, byte for byte, and what comes back: bodies, cookies, redirects, views, files, links. */
import assert from 'node:assert/strict';
import { createHash } from 'node:crypto';
import { once } from 'node:events';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { networkInterfaces } from 'node:os';
import { join } from 'node:path';
import { test } from 'node:test';
import { brotliCompressSync, deflateRawSync, deflateSync, gzipSync } from 'node:zlib';
import { LiveSink } from '../../../src/cli/sending/live-sink.js';
import { certificateOf } from '../../../src/core/exchange/connection/certificate.js';
import { startSecure } from '../../../src/standin/secure/server.js';
import { collectionOf, temporaryFolder, writeIn } from '../../support/folder.js';
import { document, type Ended, echoTrail } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';
import { harbourForThisFile } from '../../support/standin.js';

const { origin } = await harbourForThisFile();

const noIpv6 = Object.values(networkInterfaces())
  .flat()
  .some((one) => one?.address === '::1')
  ? false
  : 'no IPv6 here';

interface Mirrored {
  readonly method: string;
  readonly target: string;
  readonly headers: readonly (readonly [string, string])[];
  readonly body: { readonly size: number; readonly sha256: string; readonly base64: string };
}

/** Sends a request file to the mirror, and gives back what the mirror received. */
async function mirrored(
  request: string,
  files: Readonly<Record<string, string>> = {},
  ...args: readonly string[]
): Promise<Mirrored & { readonly text: string; header(name: string): string | undefined }> {
  const cwd = collectionOf({ 'requests/it.yaml': request, ...files }, origin);
  const ended = await echoTrail(['send', 'it', '--json', ...args], { cwd });
  assert.equal(ended.status, 0, `${ended.err}\n${ended.out}`);
  const { body: seen } = document<{ body: Mirrored }>(ended);
  return {
    ...seen,
    text: Buffer.from(seen.body.base64, 'base64').toString(),
    header: (name) => seen.headers.find(([key]) => key.toLowerCase() === name)?.[1],
  };
}

const to = (more: string, method = 'POST'): string =>
  `method: ${method}\nchanges: false\nurl: \${origin}/mirror\n${more}`;

test('parts: texts, lists, values, templates and files, each with its name and type, and the length in front', async () => {
  const seen = await mirrored(
    to(`inputs: {nights: {type: integer, default: 2}}
body:
  parts:
    note: "a \\"quoted\\" note"
    tag: [north, south]
    gone: \${absent}
    wish: {json: {nights: "\${nights}"}}
    plan: {file: data/plan.txt, type: text/x-plan, name: 'plän "1".txt'}
    mole: {template: bodies/mole.xml}
`),
    { 'data/plan.txt': 'line 1\r\nline 2', 'bodies/mole.xml': '<mole nights="${nights}"/>' },
  );
  const boundary = /^multipart\/form-data; boundary=(part-[0-9a-f]{24})$/.exec(seen.header('content-type') ?? '')?.[1];
  assert.ok(boundary);
  const part = (head: string, body: string): string => `--${boundary}\r\n${head}\r\n\r\n${body}\r\n`;
  const expected =
    part('Content-Disposition: form-data; name="note"', 'a "quoted" note') +
    part('Content-Disposition: form-data; name="tag"', 'north') +
    part('Content-Disposition: form-data; name="tag"', 'south') +
    part('Content-Disposition: form-data; name="wish"\r\nContent-Type: application/json', '{"nights":2}') +
    part(
      'Content-Disposition: form-data; name="plan"; filename="plän %221%22.txt"\r\nContent-Type: text/x-plan',
      'line 1\r\nline 2',
    ) +
    part(
      'Content-Disposition: form-data; name="mole"\r\nContent-Type: application/xml; charset=utf-8',
      '<mole nights="2"/>',
    ) +
    `--${boundary}--\r\n`;
  assert.equal(seen.text, expected);
  assert.equal(seen.header('content-length'), String(Buffer.byteLength(expected)));
});

test('a real parser of multipart reads them, a large file by its digest', async () => {
  const cwd = collectionOf(
    {
      'requests/up.yaml':
        'method: POST\nurl: ${origin}/uploads\nbody: {parts: {about: cargo, plan: {file: data/large.bin}}}\n',
    },
    origin,
  );
  const large = Buffer.alloc(3_000_000, 'tide');
  writeIn(cwd, 'data/large.bin', '');
  writeFileSync(join(cwd, 'data/large.bin'), large);
  const { body } = document<{ body: { parts: object[] } }>(await echoTrail(['send', 'up', '--json'], { cwd }));
  assert.deepEqual(body.parts, [
    { name: 'about', type: 'text/plain', value: 'cargo' },
    {
      name: 'plan',
      fileName: 'large.bin',
      type: 'application/octet-stream',
      size: large.length,
      sha256: createHash('sha256').update(large).digest('hex'),
    },
  ]);
});

test('a file is sent as it is, its type by its ending; preview tells its size and reads none of it', async () => {
  const request = to('body: {file: "data/${name}.pdf"}\ninputs: {name: {default: plan}}\n', 'PUT');
  const seen = await mirrored(request, { 'data/plan.pdf': '%PDF-1.7 made up' });
  assert.deepEqual(
    [seen.text, seen.header('content-type'), seen.header('content-length')],
    ['%PDF-1.7 made up', 'application/pdf', '16'],
  );
  const cwd = collectionOf({ 'requests/it.yaml': request, 'data/plan.pdf': '%PDF-1.7 made up' }, origin);
  assert.match(
    (await echoTrail(['preview', 'it'], { cwd })).out,
    /body {2}application\/pdf, 16 B\n {2}\(16 B of data\/plan\.pdf\)/,
  );
  const outside = await echoTrail(['send', 'it', '--set', 'name=../../secret'], { cwd });
  assert.equal(outside.status, 2);
  assert.match(outside.err, /outside|does not exist/);
});

test('a template in JSON keeps types, in XML it escapes, drops what is omitted, and checks names of elements', async () => {
  const json = await mirrored(
    to('inputs: {nights: {type: integer, default: 2}, note: {default: "a\\"b"}}\nbody: {template: bodies/wish.json}\n'),
    {
      'bodies/wish.json': '{"nights": "${nights}", "note": "${note}", "gone": "${absent}"}',
    },
  );
  assert.deepEqual([json.text, json.header('content-type')], ['{"nights":2,"note":"a\\"b"}', 'application/json']);
  const xml = {
    'bodies/wish.xml': `<wish kind="\${kind ?? absent}" berth="N1">
  <\${what}>\${note}</\${what}>
  <remarks lang="en">\${remarks ?? absent}</remarks>
  <nights>2</nights>
</wish>
`,
  };
  const request = to(
    'inputs: {kind: {}, remarks: {}, what: {default: berth}, note: {default: "a < b & c"}}\nbody: {template: bodies/wish.xml}\n',
  );
  const bare = await mirrored(request.replace('kind: {}, remarks: {}, ', ''), {
    'bodies/wish.xml': xml['bodies/wish.xml'],
  });
  assert.equal(bare.text, '<wish berth="N1">\n  <berth>a &lt; b &amp; c</berth>\n  <nights>2</nights>\n</wish>\n');
  const cwd = collectionOf({ 'requests/it.yaml': request, ...xml }, origin);
  const wrong = await echoTrail(['send', 'it', '--set', 'what=a b', '--set', 'kind=x', '--set', 'remarks=y'], { cwd });
  assert.equal(wrong.status, 2);
  assert.match(wrong.err, /"a b" cannot be the name of an element/);
});

test('render and render-each put templates together, in a parameter or in another template', async () => {
  const seen = await mirrored(
    to(
      'inputs: {lines: {type: array, default: [{code: N1}, {code: "S&2"}]}}\nquery: {filing: \'${render("bodies/filing.xml")}\'}\n',
      'GET',
    ),
    {
      'bodies/filing.xml': '<filing>${lines | render-each("bodies/line.xml")}</filing>',
      'bodies/line.xml': '<line>${code}</line>',
    },
  );
  assert.equal(
    new URL(seen.target, origin).searchParams.get('filing'),
    '<filing><line>N1</line><line>S&amp;2</line></filing>',
  );
  const cwd = collectionOf(
    { 'requests/it.yaml': to('body: {template: bodies/a.txt}\n'), 'bodies/a.txt': '${render("bodies/a.txt")}' },
    origin,
  );
  assert.match((await echoTrail(['send', 'it'], { cwd })).err, /renders itself/);
});

test('a form with nested keys and lists, URL-encoded', async () => {
  const seen = await mirrored(
    to('body: {form: {a: "x y&z", list: [1, 2], berth: {quay: north, ends: [{m: 1}, {m: 2}]}}}\n'),
  );
  assert.equal(
    seen.text,
    'a=x+y%26z&list=1&list=2&berth%5Bquay%5D=north&berth%5Bends%5D%5B0%5D%5Bm%5D=1&berth%5Bends%5D%5B1%5D%5Bm%5D=2',
  );
});

test('GraphQL: a document in bodies/, by POST, by GET, and with a file as a variable', async () => {
  const files = { 'bodies/rota.graphql': 'query Rota($n: Int) { pilots(first: $n) { id } }', 'data/plan.txt': 'plan' };
  const body = 'body: {graphql: {document: bodies/rota.graphql, variables: {n: 3}, operation: Rota}}\n';
  const posted = await mirrored(to(body), files);
  assert.deepEqual(JSON.parse(posted.text), {
    query: files['bodies/rota.graphql'],
    variables: { n: 3 },
    operationName: 'Rota',
  });
  const got = await mirrored(to(body, 'GET'), files);
  const parameters = new URL(got.target, origin).searchParams;
  assert.deepEqual(
    [parameters.get('query'), parameters.get('variables'), parameters.get('operationName'), got.body.size],
    [files['bodies/rota.graphql'], '{"n":3}', 'Rota', 0],
  );
  const uploaded = await mirrored(
    to('body: {graphql: {document: bodies/rota.graphql, variables: {plans: [{upload: data/plan.txt}]}}}\n'),
    files,
  );
  assert.match(uploaded.text, /name="operations"\r\n\r\n\{"query":[^\r]*"variables":\{"plans":\[null\]\}\}\r\n/);
  assert.match(uploaded.text, /name="map"\r\n\r\n\{"1":\["variables\.plans\.0"\]\}\r\n/);
  assert.match(uploaded.text, /name="1"; filename="plan\.txt"\r\nContent-Type: text\/plain\r\n\r\nplan\r\n/);
});

test('the ad-hoc forms of all this, and the file that does the same', async () => {
  const cwd = collectionOf({ 'data/plan.txt': 'plan' }, origin);
  const send = (...args: string[]): Promise<Ended> =>
    echoTrail(['send', 'POST', '/mirror', '--allow-changes', '--json', ...args], { cwd });
  const textOf = async (...args: string[]): Promise<string> =>
    Buffer.from(document<{ body: Mirrored }>(await send(...args)).body.body.base64, 'base64').toString();
  assert.equal(await textOf('--form', 'a=1', '--form', 'b=${x}'), 'a=1&b=%24%7Bx%7D');
  assert.equal(await textOf('--body-text', 'plain ${x}'), 'plain ${x}');
  assert.equal(await textOf('--body-file', 'data/plan.txt'), 'plan');
  assert.match(
    await textOf('--part', 'a=1', '--part-file', 'plan=data/plan.txt', '--as', 'kept'),
    /name="a"[\s\S]*filename="plan\.txt"/,
  );
  const again = await echoTrail(['send', 'kept', '--json'], { cwd });
  assert.match(
    Buffer.from(document<{ body: Mirrored }>(again).body.body.base64, 'base64').toString(),
    /filename="plan\.txt"/,
  );
  assert.match((await send('--form', 'a=1', '--body-text', 'b')).err, /one body/);
});

test('cookies: taken, sent again, kept sealed for the next command, and left out on request', async () => {
  const cwd = collectionOf(
    {
      'requests/gate.yaml': 'url: ${origin}/visitors\nkeep: {seal: cookie.seal}\n',
      'requests/enter.yaml':
        'method: POST\nurl: ${origin}/visitors\ninputs: {seal: {}}\nbody: {form: {seal: "${seal}", visitor: Ada Grey}}\nexpect: {status: 200, hops: 1, body: {contains: viewing deck}}\n',
      'trails/visit.yaml': 'steps: [{send: gate}, {send: enter}]\n',
    },
    origin,
  );
  const walked = await echoTrail(['run', 'visit'], { cwd });
  assert.equal(walked.status, 0, walked.out + walked.err);
  const inside = await echoTrail(['send', 'GET', '/visitors'], { cwd });
  assert.match(inside.out, /Welcome, Ada Grey/);
  assert.match((await echoTrail(['send', 'GET', '/visitors', '--no-cookies'], { cwd })).out, /<form/);
  const sealed = readFileSync(join(cwd, '.echo-trail/cookies/sandbox.sealed'), 'utf8');
  assert.doesNotMatch(sealed, /visit/);
  const headers = await echoTrail(['send', 'GET', '/visitors', '--view', 'headers'], { cwd });
  assert.match(headers.out, /Cookie +‹secret› +cookies/);
});

test('redirects by the standard: 303 and a POST of 302 become GET, 307 keeps method and body', async () => {
  for (const [status, method, body] of [
    [303, 'GET', ''],
    [302, 'GET', ''],
    [307, 'POST', 'a=1'],
    [308, 'POST', 'a=1'],
  ] as const) {
    const server = await rawServer((head) =>
      head.startsWith('POST /start')
        ? `HTTP/1.1 ${status} Elsewhere\r\nlocation: /end\r\ncontent-length: 0\r\n\r\n`
        : 'HTTP/1.1 200 OK\r\ncontent-length: 2\r\n\r\nok',
    );
    const cwd = collectionOf(
      { 'requests/it.yaml': 'method: POST\nurl: ${origin}/start\nredirects: 3\nbody: {form: {a: 1}}\n' },
      server.origin,
    );
    const ended = await echoTrail(['send', 'it'], { cwd });
    assert.equal(ended.status, 0, ended.err);
    const second = server.received.join('').split(/(?=(?:GET|POST) \/end)/)[1] ?? '';
    assert.equal(/^(\w+) \/end/.exec(second)?.[1], method, String(status));
    assert.equal(second.split('\r\n\r\n')[1], body);
    assert.equal(/content-type/i.test(second), body !== '');
    await server.close();
  }
});

test('a view for every need: raw, outline, table, bytes, header lines', async () => {
  const cwd = collectionOf({}, origin);
  const view = async (...args: string[]): Promise<string> => (await echoTrail(['send', 'GET', ...args], { cwd })).out;
  assert.equal(
    await view('/notices', '--header', 'Accept: application/json', '--pick', '$.notices[0].number'),
    'NM-01\n',
  );
  assert.match(
    await view('/notices', '--view', 'outline'),
    /notices {2}list of 3\n {4}each {2}3 members\n {6}number {2}string {2}"NM-01"/,
  );
  assert.match(await view('/notices', '--view', 'table'), /^number +light +text\nNM-01 +Outer mole/);
  assert.match(
    await view('/notices', '--view', 'table', '--columns', 'light', '--limit', '1'),
    /^light\nOuter mole\n$/,
  );
  assert.match(await view('/notices', '--header', 'Accept: application/x-ndjson', '--view', 'table'), /NM-03/);
  assert.match(
    await view('/notices', '--header', 'Accept: application/xml', '--pick', '//notice[2]/light'),
    /^Pool entrance\n$/,
  );
  assert.match(
    await view('/notices/archive'),
    /application\/octet-stream, 64\.0 kB, SHA-256 [0-9a-f]{64}\n00000000 {2}00 1f 3e/,
  );
  assert.match(await view('/notices/events', '--live'), /event: notice[\s\S]*NM-03/);
  assert.equal(await view('/notices', '--view', 'none'), '');
  const gzip = await echoTrail(
    ['send', 'GET', '/notices', '--header', 'Accept-Encoding: gzip', '--pick', '$.notices[2].number'],
    { cwd },
  );
  assert.equal(gzip.out, 'NM-03\n');
  const sizes = await echoTrail(['send', 'GET', '/notices', '--header', 'Accept-Encoding: gzip'], { cwd });
  assert.match(sizes.err, /247 B \(\d+ B on the wire\)/);
  assert.match((await echoTrail(['send', 'GET', '/notices', '--view', 'pritty'], { cwd })).err, /did you mean pretty/);
  assert.match(
    (await echoTrail(['send', 'GET', '/notices', '--rows', '$.nothing'], { cwd })).err,
    /there is no list at \$\.nothing[\s\S]*\$\.notices/,
  );
});

test('a table of the request file is the view of its response, and goes to CSV or JSON', async () => {
  const cwd = collectionOf(
    { 'requests/it.yaml': 'url: ${origin}/notices\ntable: {rows: $.notices, columns: {no: number, where: light}}\n' },
    origin,
  );
  assert.match((await echoTrail(['send', 'it'], { cwd })).out, /^no +where\nNM-01 +Outer mole\n/);
  await echoTrail(['send', 'it', '--view', 'table', '--to', 'out.csv'], { cwd });
  assert.equal(readFileSync(join(cwd, 'out.csv'), 'utf8').split('\n')[1], 'NM-01,Outer mole');
  await echoTrail(['send', 'it', '--view', 'table', '--to', 'out.json'], { cwd });
  assert.deepEqual(JSON.parse(readFileSync(join(cwd, 'out.json'), 'utf8'))[2], { no: 'NM-03', where: 'West quay' });
});

test('a response goes to a file whole, or not at all; a part is continued with a range request', async () => {
  const cwd = collectionOf({}, origin);
  const file = join(temporaryFolder(), 'archive.bin');
  const whole = await echoTrail(['send', 'GET', '/notices/archive', '--to', file], { cwd });
  assert.match(whole.err, /saved 64\.0 kB to/);
  const bytes = readFileSync(file);
  assert.equal(bytes.length, 64_000);
  // As if it had been cut off after 20,000 bytes.
  const part = join(temporaryFolder(), 'part.bin');
  const tag = /etag +("[0-9a-f]+")/.exec(
    (await echoTrail(['send', 'GET', '/notices/archive', '--view', 'headers'], { cwd })).out,
  )?.[1];
  writeFileSync(`${part}.part`, bytes.subarray(0, 20_000));
  writeFileSync(`${part}.part.json`, JSON.stringify({ tag }));
  const rest = await echoTrail(['send', 'GET', '/notices/archive', '--to', part], { cwd });
  assert.match(rest.err, /206 Partial Content/);
  assert.ok(readFileSync(part).equals(bytes));
  assert.equal(existsSync(`${part}.part`) || existsSync(`${part}.part.json`), false);
  // Another version at the vendor: from the beginning.
  writeFileSync(`${part}.part`, 'something else');
  writeFileSync(`${part}.part.json`, JSON.stringify({ tag: '"old"' }));
  await echoTrail(['send', 'GET', '/notices/archive', '--to', part], { cwd });
  assert.ok(readFileSync(part).equals(bytes));
  const refused = await echoTrail(['send', 'GET', '/nowhere', '--to', `${part}.no`], { cwd });
  assert.equal(refused.status, 1);
  assert.equal(existsSync(`${part}.no`), false);
  assert.match(refused.out, /Not found/);
});

test('a response that is cut short stays as a part', async () => {
  const server = await rawServer((_head, socket) => {
    socket.end('HTTP/1.1 200 OK\r\ncontent-length: 100\r\netag: "7"\r\n\r\nonly this much');
    return undefined;
  });
  const cwd = collectionOf({}, server.origin);
  const { status, err } = await echoTrail(['send', 'GET', '/', '--to', 'it.bin'], { cwd });
  assert.equal(status, 3, err);
  assert.equal(readFileSync(join(cwd, 'it.bin.part'), 'utf8'), 'only this much');
  assert.match(err, /goes on from there/);
  await server.close();
});

test('a compressed response is saved decoded, and one that cannot be decoded is no file', async () => {
  const text = 'NM-07 East quay light out\n'.repeat(4000);
  const bodies: Readonly<Record<string, readonly [string, Buffer]>> = {
    '/gzip': ['gzip', gzipSync(text)],
    '/deflate': ['deflate', deflateSync(text)],
    '/bare': ['deflate', deflateRawSync(text)],
    '/both': ['br, gzip', gzipSync(brotliCompressSync(text))],
    '/broken': ['gzip', Buffer.concat([gzipSync(text).subarray(0, 40), Buffer.alloc(4000, 7)])],
    '/unknown': ['tar', Buffer.from(text)],
  };
  const server = await rawServer((head, socket) => {
    const [coding, body] = bodies[/^GET (\S+)/.exec(head)?.[1] ?? ''] ?? ['', Buffer.alloc(0)];
    socket.write(`HTTP/1.1 200 OK\r\ncontent-encoding: ${coding}\r\ncontent-length: ${body.length}\r\n\r\n`);
    socket.end(body);
    return undefined;
  });
  const cwd = collectionOf({}, server.origin);
  for (const path of ['/gzip', '/deflate', '/bare', '/both']) {
    const { status, err } = await echoTrail(['send', 'GET', path, '--to', `it${path.slice(1)}`], { cwd });
    assert.equal(status, 0, err);
    assert.equal(readFileSync(join(cwd, `it${path.slice(1)}`), 'utf8'), text);
  }
  for (const [path, says] of [
    ['/broken', /says gzip, but cannot be decompressed/],
    ['/unknown', /says tar, but cannot be decompressed/],
  ] as const) {
    const { status, err } = await echoTrail(['send', 'GET', path, '--to', 'none'], { cwd });
    assert.notEqual(status, 0);
    assert.match(err, says);
    assert.equal(existsSync(join(cwd, 'none')), false);
  }
  await server.close();
});

test('a stream that is shown as it comes is judged and recorded too; a refusal is shown as ever', async () => {
  const cwd = collectionOf(
    {
      'requests/events.yaml': 'url: ${origin}/notices/events\nexpect: {body: {contains: NM-03}}\n',
    },
    origin,
  );
  const { status, out, err } = await echoTrail(['send', 'events', '--live'], { cwd });
  assert.equal(status, 0, err);
  assert.match(out, /NM-03/);
  const [, echo = ''] = /echo +(\S+)/.exec(err) ?? [];
  assert.match((await echoTrail(['echo', 'show', echo, '--json'], { cwd })).out, /NM-03/);
  const refused = await echoTrail(['send', 'GET', '/nowhere', '--live'], { cwd });
  assert.match(refused.out, /Not found/);
  for (const other of ['--json', '--pick=status', '--to=it.txt']) {
    const both = await echoTrail(['send', 'events', '--live', other], { cwd });
    assert.equal(both.status, 2);
    assert.match(both.err, /cannot be combined/);
  }
});

test('a piece of a stream may end within a character or a line', () => {
  const shown: string[] = [];
  const sink = new LiveSink(
    (text) => shown.push(text),
    () => false,
  );
  assert.equal(sink.begin(200, [['content-type', 'text/event-stream']]), 'beside');
  const bytes = Buffer.from('quai élevé\nword=tide-word\nrest');
  for (const at of bytes.keys()) sink.write(bytes.subarray(at, at + 1));
  sink.finish();
  assert.deepEqual(shown, ['quai élevé', 'word=tide-word', 'rest']);
  assert.equal(sink.begin(200, [['Content-Encoding', 'gzip']]), 'nothing');
  assert.equal(sink.begin(404, []), 'nothing');
});

test('an address that cannot be decoded is a link like any other', async () => {
  const server = await rawServer((head) =>
    responseOf(head.startsWith('GET /odd%zz ') ? 'here' : 'there', {
      type: 'text/plain',
      headers: ['link: </odd%zz>; rel="next"'],
    }),
  );
  const cwd = collectionOf({}, server.origin);
  await echoTrail(['send', 'GET', '/'], { cwd });
  const { out, err } = await echoTrail(['follow', '1'], { cwd });
  assert.equal(out, 'here\n', err);
  await server.close();
});

test('links are numbered, and followed with the same environment down an undocumented tree', async () => {
  const cwd = collectionOf({}, origin);
  const first = await echoTrail(['send', 'GET', '/chart'], { cwd });
  assert.match(first.err, /links {3}3: echo-trail follow lists them/);
  const listed = await echoTrail(['follow'], { cwd });
  assert.match(
    listed.out,
    /^1 {2}\S+layer=soundings +\$\.soundings +Larkhaven\n2 {2}\S+\/chart\/roads +\$\.places\[0\]\.href +Outer roads/,
  );
  assert.match((await echoTrail(['follow', '3'], { cwd })).out, /"name": "Inner basin"/);
  assert.match((await echoTrail(['follow', '3'], { cwd })).out, /"name": "North quay"/);
  const links = document<{ links: { at: string; about: string }[] }>(await echoTrail(['follow', '--json'], { cwd }));
  assert.deepEqual([links.links[0]?.at, links.links[0]?.about], ['link.up', 'Larkhaven']);
  const none = await echoTrail(['follow', '9'], { cwd });
  assert.equal(none.status, 2);
  assert.match(none.err, /no link 9: \S+ has \d/);
});

const addresses: readonly (readonly [given: string, url: string, query: object | undefined])[] = [
  [
    'ORIGIN/v1/berths?free=true&quay=north&quay=south',
    '${origin}/v1/berths',
    { free: 'true', quay: ['north', 'south'] },
  ],
  ['ORIGIN/v1/x?a=b%20c%26d%3D%C3%A9&plus=a%2Bb', '${origin}/v1/x', { a: 'b c&d=é', plus: 'a+b' }],
  ['https://other.example:8443/a%2Fb/c?q=%24%7Bx%7D', 'https://other.example:8443/a%2Fb/c', { q: '$${x}' }],
  ['ORIGIN/v1/x?a=1&b=2&a=3', '${origin}/v1/x?a=1&b=2&a=3', undefined],
  ['ORIGIN/v1/{x}', '${origin}/v1/%7Bx%7D', undefined],
];
for (const [given, url, query] of addresses) {
  test(`import address ${given} is split, and sent the same`, async () => {
    const cwd = collectionOf({ 'environments/sandbox.yaml': `variables: {origin: "${origin}"}\nhosts: any\n` }, origin);
    const whole = given.replace('ORIGIN', origin);
    const ended = await echoTrail(['import', 'address', whole, '--as', 'it', '--json'], { cwd });
    assert.equal(ended.status, 0, ended.err);
    const { parse } = await import('yaml');
    const file = parse(readFileSync(join(cwd, 'requests/it.yaml'), 'utf8')) as { url: string; query?: object };
    assert.deepEqual([file.url, file.query], [url, query]);
    const previewed = document<{ url: string }>(await echoTrail(['preview', 'it', '--json'], { cwd }));
    assert.equal(previewed.url, new URL(whole).href.replaceAll('{', '%7B').replaceAll('}', '%7D'));
  });
}

test('what is doubtful about an address is said: too long, encoded twice', async () => {
  const cwd = collectionOf(
    {
      'environments/sandbox.yaml': `variables: {origin: "${origin}"}\nhosts: [127.0.0.1]\nurl-limit: 60\n`,
      'requests/it.yaml':
        'url: ${origin}/mirror\nquery: {a: "already%20encoded", b: "a long text that goes past the limit"}\n',
    },
    origin,
  );
  const { err } = await echoTrail(['send', 'it'], { cwd });
  assert.match(
    err,
    /has \d+ characters, the environment sandbox takes 60; where the vendor has a form of the call with a body/,
  );
  assert.match(err, /percent-encoded before it came in/);
});

test('values of an address that were pasted with more than themselves are told, and empty ones are seen', async () => {
  const cwd = collectionOf(
    {
      'requests/it.yaml':
        'inputs: {id: {}, q: {default: ""}}\nurl: ${origin}/mirror/{id}\nquery: {q: "${q}", note: "a b", key: "${secret.key}"}\n',
    },
    origin,
  );
  const env = { ECHO_TRAIL_SECRET_KEY: ' winch-grease-77' };
  const told = async (...set: string[]): Promise<string[]> => {
    const args = ['preview', 'it', '--json', ...set.flatMap((one) => ['--set', one])];
    return document<{ warnings: string[] }>(await echoTrail(args, { cwd, env })).warnings;
  };
  assert.deepEqual(await told('id= PC-1'), ['" PC-1" in the path begins or ends with white space']);
  assert.deepEqual(await told('id="PC-1"'), ['"\\"PC-1\\"" in the path is in quotes, which are part of it']);
  assert.deepEqual(await told('id=1', 'q=a b\n'), [
    '"a b\\n" in the query parameter q begins or ends with white space',
  ]);
  assert.deepEqual(await told('id=a "b" c', "q='N1'"), []);
  const { out } = await echoTrail(['preview', 'it', '--set', 'id=1'], { cwd, env });
  assert.match(out, /^ {2}q {5}\(empty\)$/m);
});

test('keys that stand twice are pointed out, long numbers stay exact, __proto__ is data', async () => {
  const server = await rawServer(() => {
    const body = '{"a": 1, "b": {"x": 1, "x": 2}, "n": 12345678901234567890, "__proto__": {"c": 3}}';
    return `HTTP/1.1 200 OK\r\ncontent-type: application/json\r\ncontent-length: ${body.length}\r\n\r\n${body}`;
  });
  const cwd = collectionOf({}, server.origin);
  const { out, err } = await echoTrail(['send', 'GET', '/'], { cwd });
  assert.match(err, /\$\.b\.x stands twice/);
  assert.match(out, /12345678901234567890/);
  assert.match(out, /"__proto__": \{\n\s+"c": 3/);
  await server.close();
});

test('charsets by mark, header and declaration', async () => {
  const texts: readonly (readonly [type: string, bytes: Buffer, shown: RegExp])[] = [
    ['text/plain; charset=iso-8859-1', Buffer.from('Hafenmeister Gr\u00fcn', 'latin1'), /Grün/],
    ['text/plain', Buffer.from('\ufeffGrün', 'utf16le'), /Grün/],
    ['application/xml', Buffer.from('<?xml version="1.0" encoding="ISO-8859-1"?><a>Gr\u00fcn</a>', 'latin1'), /Grün/],
    ['text/html', Buffer.from('<html><meta charset="windows-1252">\u0080', 'latin1'), /€/],
  ];
  for (const [type, bytes, shown] of texts) {
    const server = await rawServer(() =>
      Buffer.concat([
        Buffer.from(`HTTP/1.1 200 OK\r\ncontent-type: ${type}\r\ncontent-length: ${bytes.length}\r\n\r\n`),
        bytes,
      ]),
    );
    assert.match((await echoTrail(['send', 'GET', '/'], { cwd: collectionOf({}, server.origin) })).out, shown, type);
    await server.close();
  }
});

test('deep objects and lists in a query, cookies of the request beside those of the jar', async () => {
  const seen = await mirrored(
    to(
      'path: {quay: "N 1"}\nquery: {filter: {quay: north, lengthM: {above: 80}}, tag: [a, b]}\ncookies: {desk: "7", gone: "${absent}"}\n',
      'GET',
    ).replace('/mirror', '/mirror{/quay}'),
  );
  assert.equal(seen.target, '/mirror/N%201?filter%5Bquay%5D=north&filter%5BlengthM%5D%5Babove%5D=80&tag=a&tag=b');
  assert.equal(seen.header('cookie'), 'desk=7');
});

test('HEAD has no body, a conditional request gets 304, hints and trailers are told', async () => {
  const cwd = collectionOf({}, origin);
  const head = await echoTrail(['send', 'HEAD', '/notices'], { cwd });
  assert.match(head.err, /200 OK/);
  assert.equal(head.out, '');
  const tag =
    /etag +("\w+")/.exec((await echoTrail(['send', 'GET', '/notices', '--view', 'headers'], { cwd })).out)?.[1] ?? '';
  const same = await echoTrail(['send', 'GET', '/notices', '--header', `If-None-Match: ${tag}`], { cwd });
  assert.match(same.err, /304 Not Modified/);
  const server = await rawServer(
    () =>
      'HTTP/1.1 103 Early Hints\r\nLink: </a.css>; rel=preload\r\n\r\nHTTP/1.1 200 OK\r\nTransfer-Encoding: chunked\r\nTrailer: X-Sum\r\n\r\n2\r\nok\r\n0\r\nX-Sum: 7\r\n\r\n',
  );
  const told = await echoTrail(['send', 'GET', '/', '--view', 'headers'], { cwd: collectionOf({}, server.origin) });
  assert.match(told.out, /hint 103\n +Link +<\/a\.css>[\s\S]*trailers\n +X-Sum +7/);
  await server.close();
});

test('a certificate that nobody known signed is refused, and taken for a day when that is asked for', async () => {
  const secure = await startSecure();
  try {
    const cwd = collectionOf({}, secure.origins.selfSigned);
    const refused = await echoTrail(['send', 'GET', '/'], { cwd });
    assert.equal(refused.status, 3);
    assert.match(refused.err, /self-signed[\s\S]*--accept-certificate/);
    const taken = await echoTrail(['send', 'GET', '/', '--accept-certificate'], { cwd });
    assert.equal(taken.status, 0, taken.err);
    assert.match(
      taken.err,
      /accepted {2}CN=Nobody in particular, until \d{4}-\d\d-\d\d [\d:]+ UTC\n +SHA-256 [0-9A-F:]{95}/,
    );
    const again = await echoTrail(['send', 'GET', '/', '--view', 'headers'], { cwd });
    assert.match(
      again.out,
      /TLS\n +version +TLSv1[\s\S]*certificate +CN=Nobody in particular, for 127\.0\.0\.1, localhost/,
    );
    const plain = await echoTrail(['send', 'GET', `${origin}/`, '--accept-certificate'], { cwd });
    assert.match(plain.err, /shows no certificate to accept/);
  } finally {
    await secure.close();
  }
});

test('an environment with a root of its own and a client certificate from files and the secret store', async () => {
  const secure = await startSecure();
  try {
    const { root, client } = secure.certificates;
    const cwd = collectionOf({
      'environments/sandbox.yaml': `variables: {origin: "${secure.origins.client}"}\nhosts: [127.0.0.1]\ntls: {trust: [certs/root.pem], identity: {certificate: certs/agent.pem, key: "\${secret.agentKey}"}}\n`,
      'certs/root.pem': root.certificate,
      'certs/agent.pem': client.certificate,
    });
    const ended = await echoTrail(['send', 'GET', '/', '--pick', '$.caller'], {
      cwd,
      env: { ECHO_TRAIL_SECRET_AGENT_KEY: client.key },
    });
    assert.equal(ended.out, 'Agent at the desk\n', ended.err);
  } finally {
    await secure.close();
  }
});

test('a long body is recorded beside its echo, secrets hidden, and goes with its run', async () => {
  const long = `{"token": "a-secret-token-that-is-hidden", "text": "${'tide '.repeat(60_000)}end"}`;
  const server = await rawServer(
    () => `HTTP/1.1 200 OK\r\ncontent-type: application/json\r\ncontent-length: ${long.length}\r\n\r\n${long}`,
  );
  const cwd = collectionOf(
    { 'echo-trail.yaml': 'name: test\nenvironment: sandbox\nechoes: {runs: 1}\n' },
    server.origin,
  );
  await echoTrail(['send', 'GET', '/', '--view', 'none'], { cwd });
  const whole = await echoTrail(['echo', 'show', 'last', '--body'], { cwd });
  assert.match(whole.out, /tide end"\}$/);
  assert.doesNotMatch(whole.out, /a-secret-token/);
  assert.match(
    (await echoTrail(['echo', 'show'], { cwd })).out,
    /the beginning of 300\.\d kB; --body prints all of it/,
  );
  const echo = document<{ received: { body: { file: string } } }>(await echoTrail(['echo', 'show', '--json'], { cwd }));
  const file = join(cwd, '.echo-trail/echoes', echo.received.body.file);
  assert.ok(existsSync(file));
  await echoTrail(['send', 'GET', '/', '--view', 'none'], { cwd });
  assert.equal(existsSync(file), false, 'it is deleted with its run');
  await server.close();
});

test('cookies, redirects and the time to wait of an ad-hoc request', async () => {
  const cwd = collectionOf({}, origin);
  const seen = document<{ body: Mirrored }>(
    await echoTrail(['send', 'GET', '/mirror', '--cookie', 'desk=7', '--json'], { cwd }),
  );
  assert.ok(seen.body.headers.some(([name, value]) => name.toLowerCase() === 'cookie' && value === 'desk=7'));
  const server = await rawServer((head) =>
    head.includes('/slow') ? undefined : 'HTTP/1.1 302 Found\r\nlocation: /end\r\ncontent-length: 0\r\n\r\n',
  );
  const there = collectionOf({}, server.origin);
  assert.match((await echoTrail(['send', 'GET', '/', '--redirects', 'none'], { cwd: there })).err, /302 Found/);
  const slow = await echoTrail(['send', 'GET', '/slow', '--timeout', '80ms'], { cwd: there });
  assert.equal(slow.status, 3);
  assert.match(slow.err, /no complete response within 80 ms/);
  for (const [option, value] of [
    ['--redirects', 'some'],
    ['--timeout', '5'],
  ] as const)
    assert.equal((await echoTrail(['send', 'GET', '/', option, value], { cwd: there })).status, 2);
  await server.close();
});

test('IPv6: the host of an address in brackets', { skip: noIpv6 }, async () => {
  const server = createServer((_request, response) => response.end('over six')).listen(0, '::1');
  await once(server, 'listening');
  const { port } = server.address() as AddressInfo;
  const cwd = collectionOf({
    'environments/sandbox.yaml': `variables: {origin: "http://[::1]:${port}"}\nhosts: ["::1"]\n`,
  });
  const { out, err } = await echoTrail(['send', 'GET', '/', '--view', 'headers'], { cwd });
  assert.match(out, /host +\[::1\]:\d+[\s\S]*from ::1/, err);
  server.close();
});

test('compare: what a cookie changes, what a document expects, and nothing where there is nothing', async () => {
  const cwd = collectionOf(
    {
      'requests/gate.yaml': 'url: ${origin}/visitors\nkeep: {seal: cookie.seal}\n',
      'requests/enter.yaml':
        'method: POST\nurl: ${origin}/visitors\ninputs: {seal: {}}\nbody: {form: {seal: "${seal}", visitor: Ada Grey}}\n',
      'requests/chart.yaml': 'url: ${origin}/chart\n',
      'requests/one.yaml': 'inputs: {number: {}}\nurl: ${origin}/board/notices/{number}\n',
      'trails/visit.yaml': 'steps: [{send: gate}, {send: enter}]\n',
      'data/chart.json': '{"name": "Larkhaven", "href": "/chart", "places": []}',
    },
    origin,
  );
  await echoTrail(['run', 'visit'], { cwd });
  const idOf = (ended: Ended): string => /echo +(\S+)/.exec(ended.err)?.[1] ?? '';
  const inside = idOf(await echoTrail(['send', 'GET', '/visitors', '--view', 'none'], { cwd }));
  const outside = idOf(await echoTrail(['send', 'GET', '/visitors', '--view', 'none', '--no-cookies'], { cwd }));
  const differ = await echoTrail(['compare', inside, outside], { cwd });
  assert.equal(differ.status, 1);
  assert.match(differ.out, /changed +line 4 +\S*<p>Welcome, Ada Grey[\s\S]*<form method/);
  assert.equal((await echoTrail(['compare', inside, inside], { cwd })).out, 'no difference\n');
  const given = await echoTrail(['compare', 'chart', 'one', '--set', 'number=7', '--json'], { cwd });
  assert.equal(given.status, 1, `what only one of the two takes is taken: ${given.err}`);
  assert.match((await echoTrail(['compare', 'chart', 'one', '--set', 'numbr=7'], { cwd })).err, /did you mean number/);
  const expected = await echoTrail(['compare', 'chart', 'data/chart.json', '--ignoring', '$.places', '--json'], {
    cwd,
  });
  assert.deepEqual(document(expected), {
    same: false,
    differences: [{ at: '$.soundings', kind: 'removed', left: `${origin}/chart?layer=soundings` }],
  });
  assert.equal((await echoTrail(['compare', 'chart', 'data/chart.json', '--only', '$.name'], { cwd })).status, 0);
  assert.match((await echoTrail(['compare', 'chart', 'chrt'], { cwd })).err, /no request chrt[\s\S]*chart/);
});

test('each row of a run brings its own host and its own pinned certificate', async () => {
  const secure = await startSecure();
  try {
    const { selfSigned, trusted } = secure.origins;
    const pin = async (url: string): Promise<string> =>
      (await certificateOf(new URL(url), undefined))?.fingerprint ?? '';
    const cwd = collectionOf({
      'environments/sandbox.yaml':
        'variables: {origin: "${address}"}\nhosts: ["127.0.0.1:*"]\ntls: {pinned: "${pin}"}\n',
      'requests/it.yaml': 'url: ${origin}/\nexpect: {status: 200}\n',
      'trails/fleet.yaml': 'rows: data/fleet.csv\nsteps: [{send: it}]\n',
      'data/fleet.csv': `address,pin\n${selfSigned},${await pin(selfSigned)}\n${trusted},${await pin(trusted)}\n${trusted},AB:CD\n`,
    });
    const { out, status } = await echoTrail(['run', 'fleet'], { cwd });
    assert.equal(status, 3, out);
    assert.match(out, /a certificate other than the pinned one/);
    const lines = await echoTrail(['run', 'fleet', '--json'], { cwd });
    const sent = lines.out.split('\n').filter((line) => line.includes('"event":"step"'));
    assert.equal(sent.filter((line) => line.includes('"state":"ok"')).length, 2, lines.out);
  } finally {
    await secure.close();
  }
});

test('a file that cannot be written is told before anything is sent; one that claims to be JSON is saved unread', async () => {
  const cwd = collectionOf({}, origin);
  for (const [to, says] of [
    ['no/such/folder/it.bin', /there is no folder/],
    [cwd, /that is a folder/],
  ] as const) {
    const { status, err } = await echoTrail(['send', 'GET', '/notices', '--to', to], { cwd });
    assert.equal(status, 2);
    assert.match(err, says);
  }
  assert.equal(existsSync(join(cwd, '.echo-trail/echoes')), false);
  const saved = await echoTrail(['send', 'GET', '/notices', '--to', 'notices.json'], { cwd });
  assert.equal(saved.status, 0, saved.err);
  assert.equal(
    (JSON.parse(readFileSync(join(cwd, 'notices.json'), 'utf8')) as { notices: object[] }).notices.length,
    3,
  );
});

test('a GraphQL call with a file goes by POST, and by GET it says so', async () => {
  const cwd = collectionOf(
    {
      'data/plan.txt': 'a plan\n',
      'requests/it.yaml':
        'url: ${origin}/mirror\nbody: {graphql: {document: "query($a: Upload) { b(a: $a) }", variables: {a: {upload: data/plan.txt}}}}\n',
    },
    origin,
  );
  const { status, err } = await echoTrail(['send', 'it'], { cwd });
  assert.equal(status, 2);
  assert.match(err, /a variable is a file, which a GET request cannot carry[\s\S]*method: POST/);
});
