/** Recipes: what they see of a request, in which order they work, what they add, what they hide. */
import assert from 'node:assert/strict';
import { constants, createHash, createHmac, generateKeyPairSync, verify } from 'node:crypto';
import { test } from 'node:test';
import { namesFrom } from '../../../src/core/expression/names.js';
import { type Given, type Signing, signedBy, signerOf, textIn } from './signing.js';

const call: Given = {
  method: 'POST',
  url: 'https://Harbour.example:8443/v1/b%C3%BCro/a%20b?z=1&b=%20x&a=&b=+y&b=%C3%A4',
  headers: [
    ['X-Desk-Name', '  North   quay '],
    ['X-Desk', '7'],
    ['Accept', 'text/plain'],
    ['accept', 'text/html'],
    ['X-Empty', ''],
  ],
  body: '{"nights":2}',
};

/** What is written in a recipe, and what it yields for that call. */
const seen: readonly [expression: string, text: string][] = [
  ['${sent.method}', 'POST'],
  ['${sent.scheme}', 'https'],
  ['${sent.authority}', 'harbour.example:8443'],
  ['${sent.host}', 'harbour.example'],
  ['${sent.port}', '8443'],
  ['${sent.path}', '/v1/b%C3%BCro/a%20b'],
  ['${sent.path | from-percent}', '/v1/büro/a b'],
  ['${sent.target}', '/v1/b%C3%BCro/a%20b?z=1&b=%20x&a=&b=+y&b=%C3%A4'],
  ['${sent.query-text}', 'z=1&b=%20x&a=&b=+y&b=%C3%A4'],
  ['${sent.query | sorted | encoded}', 'a=&b=%20x&b=%2By&b=%C3%A4&z=1'],
  ['${sent.query | sorted | filled | encoded}', 'b=%20x&b=%2By&b=%C3%A4&z=1'],
  ['${sent.query | encoded("as-sent")}', 'z=1&b=%20x&a=&b=+y&b=%C3%A4'],
  ['${sent.query | sorted | encoded("decoded")}', 'a=&b= x&b=+y&b=ä&z=1'],
  ['${sent.query | sorted | encoded("form")}', 'a=&b=+x&b=%2By&b=%C3%A4&z=1'],
  ['${sent.query | except("b") | pluck("name") | join(",")}', 'z,a'],
  ['${sent.header.x-desk-name}', 'North   quay'],
  ['${sent.header.accept}', 'text/plain, text/html'],
  ['${sent.header.x-missing ?? ""}|', '|'],
  ['${sent.header.x-missing ?? "none"}', 'none'],
  ['${sent.query-text | wrapped("?")}', '?z=1&b=%20x&a=&b=+y&b=%C3%A4'],
  ['[${sent.header.x-empty | wrapped("?", "!")}]', '[]'],
  ['${sent.host | where(sent.method, "PUT", "POST")}', 'harbour.example'],
  ['${sent.headers | only("x-desk*") | header-lines | join("\\n")}', 'x-desk-name:North quay\nx-desk:7'],
  [
    '${sent.headers | only("x-desk*") | sorted | header-lines(": ") | join("\\n")}',
    'x-desk: 7\nx-desk-name: North quay',
  ],
  ['${sent.headers | only("accept", "host") | pluck("name") | join(";")}', 'accept;host'],
  ['${sent.headers | except("accept", "x-*") | header-lines | join("\\n")}', 'host:harbour.example:8443'],
  ['${sent.body | text}', '{"nights":2}'],
  ['${sent.body | sha-256 | base64}', createHash('sha256').update('{"nights":2}').digest('base64')],
  ['${sent.path | split("/") | each("percent") | join("/")}', '/v1/b%25C3%25BCro/a%2520b'],
  ['${"7" | pad(4, "0")}', '0007'],
  ['${now | unix | pad(12)}', '  1772443800'],
  ['${now | in-zone("UTC+2") | format("yyyy-MM-dd HH:mm")}', '2026-03-02 11:30'],
  ['${nonce | slice(0, 4)}', 'once'],
  ['${edition}', '2.4'],
];

const setting: Signing = {
  now: '2026-03-02T09:30:00Z',
  nonce: 'once-7',
  secrets: { key: 'herring-barrel' },
  variables: namesFrom({ edition: '2.4' }, 'variables'),
};

test(`what a recipe sees of a request: ${seen.length} expressions`, async () => {
  for (const [expression, text] of seen) {
    const signed = await signedBy(
      JSON.stringify({ define: { it: expression }, headers: { 'X-It': '${it | sha-256 | hex}' } }),
      call,
      setting,
    );
    assert.equal(textIn(signed, 'it'), text, expression);
  }
});

test('a query key without a value stays so where that is wanted, and a header that is not there leaves its slot empty', async () => {
  const signed = await signedBy(
    `define:
  base:
    lines:
      - \${sent.header.content-md5}
      - \${sent.query | sorted | encoded("percent", "bare")}
      - \${sent.query | encoded}
      - \${sent.host | where(sent.method, "GET")}
headers:
  X-Base: \${base | json}
`,
    { ...call, url: 'https://harbour.example/v1?b=1&acl&c=' },
  );
  assert.equal(textIn(signed, 'X-Base'), JSON.stringify('\nacl&b=1&c=\nb=1&acl=&c='));
});

test('lines: blank slots stay, lists are spliced in, what is omitted has no line', async () => {
  const signed = await signedBy(
    `define:
  base:
    lines:
      - \${sent.method}
      - ""
      - \${sent.header.x-empty}
      - \${sent.headers | only("x-desk", "x-missing") | header-lines}
      - \${absent}
      - desk \${sent.header.x-desk}
      - ""
  windows: {lines: [a, b], joined-by: "\\r\\n"}
headers: {X-Seal: "\${base | sha-256 | hex}"}
`,
    call,
    setting,
  );
  assert.equal(textIn(signed, 'base'), 'POST\n\n\nx-desk:7\ndesk 7\n');
  assert.equal(textIn(signed, 'windows'), 'a\r\nb');
});

test('values are worked out in the order of what they use; a header of the recipe is seen unless it is made from headers', async () => {
  const signed = await signedBy(
    `headers:
  X-Seal: \${seal}
  X-Time: \${stamp}
define:
  seal: \${base | hmac-sha-256(day-key) | hex}
  day-key: \${stamp | slice(0, 8) | hmac-sha-256(secret.key)}
  base: {lines: ["\${sent.headers | only(\\"x-*\\") | except(\\"x-desk*\\", \\"x-empty\\") | header-lines}"]}
  stamp: \${now | format("yyyyMMdd'T'HHmmss'Z'")}
`,
    call,
    setting,
  );
  assert.equal(textIn(signed, 'base'), 'x-time:20260302T093000Z');
  const dayKey = createHmac('sha256', 'herring-barrel').update('20260302').digest();
  assert.equal(textIn(signed, 'X-Seal'), createHmac('sha256', dayKey).update('x-time:20260302T093000Z').digest('hex'));
  assert.deepEqual(
    signed.steps.map(({ name, secret, shown }) => [name, secret, shown]),
    [
      ['stamp', false, '20260302T093000Z'],
      ['X-Time', false, '20260302T093000Z'],
      ['base', false, 'x-time:20260302T093000Z'],
      ['day-key', true, undefined],
      ['seal', true, undefined],
      ['X-Seal', true, undefined],
    ],
  );
  assert.equal(signed.wire.headers.find(({ name }) => name === 'X-Seal')?.secret, true);
  assert.equal(signed.wire.headers.find(({ name }) => name === 'X-Time')?.secret, false);
});

test('of a text with a secret in it, what stands around it is seen', async () => {
  const signed = await signedBy(
    `define:
  base: {lines: ["\${sent.method}", "key=\${secret.key};v=1", "\${secret.key}"]}
headers: {X-Seal: "id=7; seal=\${base | sha-256 | hex}"}
`,
    call,
    setting,
  );
  assert.equal(textIn(signed, 'base'), 'POST\nkey=herring-barrel;v=1\nherring-barrel');
  assert.equal(signed.steps[0]?.shown, 'POST\nkey=‹secret›;v=1\n‹secret›');
  assert.equal(signed.steps[1]?.shown, 'id=7; seal=‹secret›');
});

test('an address that is sealed: parameters that are made from the query stand behind the others', async () => {
  const signed = await signedBy(
    'define: {base: "${sent.method} ${sent.target}"}\nquery: {seal: "${base | hmac-sha-256(secret.key) | base64}", until: "${now | plus(\\"10m\\") | unix}"}\n'.replaceAll(
      '\\"',
      "'",
    ),
    { url: 'https://plans.example/north?page=2#top' },
    setting,
  );
  assert.equal(textIn(signed, 'base'), 'GET /north?page=2&until=1772444400');
  const seal = createHmac('sha256', 'herring-barrel').update('GET /north?page=2&until=1772444400').digest('base64');
  assert.equal(
    signed.wire.url.href,
    `https://plans.example/north?page=2&until=1772444400&seal=${encodeURIComponent(seal)}#top`,
  );
  assert.equal(signed.wire.shownUrl, 'https://plans.example/north?page=2&until=1772444400&seal=‹secret›#top');
});

test('a seal in the body: every byte that was there stays, and the length is the new one', async () => {
  const recipe =
    'define: {seal: "${sent.body | hmac-sha-256(secret.key) | hex}"}\nbody: {time: "${now | unix}", seal: "${seal}"}\nheaders: {X-Plain: one}\n';
  const sealOf = (text: string): string => createHmac('sha256', 'herring-barrel').update(text).digest('hex');
  const json = await signedBy(
    recipe,
    { ...call, body: '{"price": 4.10 }', headers: [['content-length', '16']] },
    setting,
  );
  const before = '{"price": 4.10,"time":1772443800}';
  assert.equal(
    Buffer.from(json.wire.body?.bytes ?? []).toString(),
    `{"price": 4.10,"time":1772443800,"seal":"${sealOf(before)}"}`,
  );
  assert.equal(json.wire.body?.shown, '{"price": 4.10,"time":1772443800,"seal":"‹secret›"}');
  assert.equal(textIn(json, 'content-length'), String(json.wire.body?.bytes.length));
  const empty = await signedBy('body: {desk: 7}\n', { ...call, body: '{}' }, setting);
  assert.equal(Buffer.from(empty.wire.body?.bytes ?? []).toString(), '{"desk":7}');
  const form = await signedBy(recipe, { ...call, body: 'a=1', type: 'application/x-www-form-urlencoded' }, setting);
  assert.equal(
    Buffer.from(form.wire.body?.bytes ?? []).toString(),
    `a=1&time=1772443800&seal=${sealOf('a=1&time=1772443800')}`,
  );
  await assert.rejects(signedBy(recipe, { ...call, body: 'plain', type: 'text/plain' }, setting), {
    code: 'body-shape',
  });
  await assert.rejects(signedBy(recipe, { ...call, body: '[1]' }, setting), { code: 'body-shape' });
});

test('a header that holds a line break, bytes or a list is refused before it leaves', async () => {
  for (const [value, code, says] of [
    ['${base}', 'header-shape', /line break/],
    ['${base | sha-256}', 'expression-value', /makes the header X-Seal of bytes/],
    ['${sent.headers | header-lines}', 'expression-value', /makes the header X-Seal of a list/],
  ] as const) {
    const text = JSON.stringify({ define: { base: { lines: ['a', 'b'] } }, headers: { 'X-Seal': value } });
    await assert.rejects(
      signedBy(text, call, setting),
      (error: { code: string; message: string }) => error.code === code && says.test(error.message),
    );
  }
});

test('what a recipe adds to the body is there before its length is signed', async () => {
  const signed = await signedBy(
    'headers: {X-Length: "${sent.header.content-length}", X-All: "${sent.headers | only(\'content-length\') | header-lines | join}"}\nbody: {desk: 7}\n',
    { ...call, body: '{}', headers: [['content-length', '2']] },
    setting,
  );
  assert.equal(textIn(signed, 'X-Length'), '10');
  assert.equal(textIn(signed, 'X-All'), 'content-length:10');
});

test('the ready-made: a keyed digest of the body, and a token for each request', async () => {
  const digest = await signedBy(
    'kind: keyed-digest\nalgorithm: hmac-sha-512\nkey: ${secret.key}\nheader: X-Body-Seal\nencoding: base64\nprefix: v1=\n',
    call,
    setting,
  );
  assert.equal(
    textIn(digest, 'X-Body-Seal'),
    `v1=${createHmac('sha512', 'herring-barrel').update('{"nights":2}').digest('base64')}`,
  );
  const token = await signedBy(
    'kind: request-token\nalgorithm: HS256\nkey: ${secret.key}\nkey-id: k7\nlasts: 2m\nclaims: {sub: agent, path: "${sent.path}", body: "${sent.body | sha-256 | hex}"}\n',
    call,
    setting,
  );
  const [head = '', claims = '', seal = ''] = String(textIn(token, 'Authorization')).replace('Bearer ', '').split('.');
  const read = (part: string): unknown => JSON.parse(Buffer.from(part, 'base64url').toString());
  assert.deepEqual(read(head), { alg: 'HS256', typ: 'JWT', kid: 'k7' });
  assert.deepEqual(read(claims), {
    sub: 'agent',
    path: '/v1/b%C3%BCro/a%20b',
    body: createHash('sha256').update('{"nights":2}').digest('hex'),
    iat: 1772443800,
    exp: 1772443920,
  });
  assert.equal(seal, createHmac('sha256', 'herring-barrel').update(`${head}.${claims}`).digest('base64url'));
});

test('a token for each request, by every algorithm, is what its key expects', async () => {
  const rsa = generateKeyPairSync('rsa', { modulusLength: 2048 });
  const curves = { ES256: 'P-256', ES384: 'P-384', ES512: 'P-521' } as const;
  const ec = Object.fromEntries(
    Object.entries(curves).map(([name, namedCurve]) => [name, generateKeyPairSync('ec', { namedCurve })]),
  );
  const ed = generateKeyPairSync('ed25519');
  const pss = { padding: constants.RSA_PKCS1_PSS_PADDING, saltLength: constants.RSA_PSS_SALTLEN_DIGEST };
  for (const algorithm of ['RS256', 'RS384', 'RS512', 'PS256', 'PS384', 'PS512', 'ES256', 'ES384', 'ES512', 'EdDSA']) {
    const pair = algorithm === 'EdDSA' ? ed : (ec[algorithm] ?? rsa);
    const key = pair.privateKey.export({ type: 'pkcs8', format: 'pem' }).toString();
    const signed = await signedBy(
      `kind: request-token\nalgorithm: ${algorithm}\nkey: \${secret.key}\nheader: X-Proof\nscheme: ""\n`,
      call,
      { ...setting, secrets: { key } },
    );
    const [head, claims, seal = ''] = String(textIn(signed, 'X-Proof')).split('.');
    const fits = verify(
      algorithm === 'EdDSA' ? null : `sha${algorithm.slice(2)}`,
      Buffer.from(`${head}.${claims}`),
      {
        key: pair.publicKey,
        ...(algorithm.startsWith('PS') && pss),
        ...(algorithm.startsWith('ES') && { dsaEncoding: 'ieee-p1363' as const }),
      },
      Buffer.from(seal, 'base64url'),
    );
    assert.equal(fits, true, algorithm);
  }
});

test('what is wrong with a recipe is told before anything is signed', async () => {
  for (const [text, code, what] of [
    ['define: {a: "${b}", b: "${a}"}\nheaders: {X: "${a}"}\n', 'circle', /a is made from b is made from a/],
    [
      'headers: {X: "${sent.headers | header-lines | join}", Y: "${sent.header.x}", X2: "${sent.header.y}"}\n',
      undefined,
      undefined,
    ],
    ['headers: {X: "${sent.header.y}", Y: "${sent.header.x}"}\n', 'circle', /X is made from Y is made from X/],
    ['headers: {X: "${sent.pth}"}\n', 'unknown-name', /sent has no pth/],
    ['define: {now: x}\nheaders: {X: "${now}"}\n', 'file-shape', /cannot be called now/],
    ['define: {a: x}\n', 'file-shape', /adds nothing to a request/],
    ['headers: {X: "${sent.body | sha256}"}\n', 'expression-syntax', /no filter sha256/],
    ['headers: {Content-Length: "1"}\n', 'header-shape', /never by hand/],
  ] as const) {
    if (code === undefined) await signerOf(text);
    else
      await assert.rejects(
        signerOf(text),
        (error: { code: string; message: string }) => error.code === code && what.test(error.message),
        text,
      );
  }
});

test('a look goes as far as it can without the secret', async () => {
  const text =
    'define: {base: "${sent.method}", key: "${secret.lost}", seal: "${base | hmac-sha-256(key) | hex}"}\nheaders: {X-Seal: "${seal}", X-Base: "${base}"}\n';
  await assert.rejects(signedBy(text, call, { ...setting, look: false }), { code: 'secret-missing' });
  const partial = await signedBy(text, call, { ...setting, look: true });
  assert.deepEqual(
    partial.steps.map(({ name }) => name),
    ['base', 'X-Base'],
  );
  assert.match(String(partial.missing?.what), /the secret lost is not set/);
});
