/** Places: what stands where in an exchange, and what is near where nothing stands. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { Received } from '../../src/core/exchange/received.js';
import { readPlace } from '../../src/core/place/registry.js';
import type { Value } from '../../src/core/value/written.js';

function received(body: string, headers: readonly (readonly [string, string])[] = [], status = 200): Received {
  return new Received({
    status,
    reason: 'OK',
    headers: headers.some(([name]) => name === 'Content-Type')
      ? headers
      : [['Content-Type', 'application/json'], ...headers],
    body: Buffer.from(body),
    wireSize: body.length,
    phases: { lookup: undefined, connect: undefined, tls: undefined, waiting: 10, receiving: 2, total: 12 },
    finalUrl: 'http://harbour.example/v1/calls',
    hops: [],
    remoteAddress: undefined,
    protocol: 'HTTP/1.1',
    tls: undefined,
    trailers: [],
    hints: [],
  });
}

const answer = received(
  '{"id": "PC-0001", "state": null, "items": [{"code": "N1"}, {"code": "N2"}], "vessel": {"imo": "9000017"}}',
  [
    ['ETag', '"7"'],
    ['Vary', 'accept'],
    ['vary', 'origin'],
  ],
  201,
);

const found: readonly (readonly [place: string, value: Value | undefined])[] = [
  ['status', 201],
  ['time', 12],
  ['size', 105],
  ['final-url', 'http://harbour.example/v1/calls'],
  ['header.etag', '"7"'],
  ['header.ETAG', '"7"'],
  ['header.vary', 'accept, origin'],
  ['header.location', undefined],
  ['$.id', 'PC-0001'],
  ['$.state', null],
  ['$.items[0].code', 'N1'],
  ['$.items[*].code', ['N1', 'N2']],
  ['$.items[?@.code == "N2"].code', ['N2']],
  ['$.items[7].code', undefined],
  ['$..imo', ['9000017']],
  ['$.nothing', undefined],
  ['$.nothing[*]', []],
  ['errors', []],
];
for (const [text, value] of found)
  test(`at ${text} stands ${JSON.stringify(value)}`, () => assert.deepEqual(readPlace(text, []).find(answer), value));

const near: readonly (readonly [place: string, hint: string | undefined])[] = [
  ['$.idd', '$.id'],
  ['$.vessel.immo', '$.vessel.imo'],
  ['$.items.code', '$.items is a list of 2'],
  ['$.id.x', '$.id is "PC-0001"'],
  ['$.quay', '$ has id, state, items, vessel'],
  ['header.etga', 'header.etag'],
  ['status', undefined],
];
for (const [text, hint] of near)
  test(`near ${text} is ${hint}`, () => assert.equal(readPlace(text, []).near(answer), hint));

test('a problem by RFC 9457 is an error that the answer declares', () => {
  const problem = new Received({
    ...answer.parts,
    status: 409,
    headers: [['content-type', 'application/problem+json; charset=utf-8']],
    body: Buffer.from('{"title": "Taken", "status": 409}'),
  });
  assert.deepEqual(readPlace('errors', []).find(problem), [{ title: 'Taken', status: 409 }]);
});

test('an answer that is not JSON says so where JSON is looked for', () => {
  for (const [body, says] of [
    ['<html>', /begins with "<html>"/],
    ['', /empty/],
  ] as const) {
    assert.throws(
      () => readPlace('$.id', []).find(received(body)),
      (error: Error & { code?: string; reason?: string }) =>
        error.code === 'answer-not-json' && says.test(`${error.message} ${error.reason}`),
    );
  }
});

for (const wrong of ['statos', 'header', 'header.', 'header.a b', '.id', 'id', '$.', '$[', '$.a b', '']) {
  test(`${JSON.stringify(wrong)} is not a place`, () =>
    assert.throws(() => readPlace(wrong, []), { code: 'place-syntax' }));
}

const envelope = received(
  '<?xml version="1.0"?><s:Envelope xmlns:s="urn:s" xmlns="urn:d"><s:Body><berth id="7">N1</berth><berth id="8">N2</berth><none/></s:Body></s:Envelope>',
  [
    ['Set-Cookie', 'visit="42"; Path=/'],
    ['Set-Cookie', 'theme=dark'],
    ['Link', '</v1/calls?page=2>; rel="next"; title="more, please", <https://other.example/x>; rel=help'],
    ['Link', '<//last.example/z>; rel="last archive"'],
  ],
);

const inXml: readonly (readonly [place: string, value: Value | undefined])[] = [
  ['//berth', ['N1', 'N2']],
  ['/Envelope/Body/berth[@id="8"]', 'N2'],
  ['/s:Envelope/s:Body/none', ''],
  ['//berth/@id', ['7', '8']],
  ['//berth[1]', 'N1'],
  ['//quay', undefined],
  ['//berth = "N2"', true],
  ['cookie.visit', '42'],
  ['cookie.theme', 'dark'],
  ['cookie.other', undefined],
  ['link.next', 'http://harbour.example/v1/calls?page=2'],
  ['link.help', 'https://other.example/x'],
  ['link.archive', 'http://last.example/z'],
  ['link.prev', undefined],
  ['hops', 0],
];

for (const [text, value] of inXml) {
  test(`${text} is ${JSON.stringify(value)}`, async () => {
    const loads: Promise<unknown>[] = [];
    const place = readPlace(text, loads);
    await Promise.all(loads);
    assert.deepEqual(place.find(envelope), value);
  });
}

for (const [text, hint] of [
  ['//quay', 'its elements are Envelope, Body, berth, none'],
  ['cookie.visitt', 'cookie.visit'],
  ['link.nxt', 'link.next'],
] as const) {
  test(`near ${text} is ${hint}`, async () => {
    const loads: Promise<unknown>[] = [];
    const place = readPlace(text, loads);
    await Promise.all(loads);
    assert.equal(place.near(envelope), hint);
  });
}

test('an XPath that is none, XML that is none, and entities are refused', async () => {
  const loads: Promise<unknown>[] = [];
  readPlace('//a[', loads);
  await assert.rejects(Promise.all(loads), { code: 'place-syntax' });
  const good: Promise<unknown>[] = [];
  const place = readPlace('//a', good);
  await Promise.all(good);
  for (const [body, says] of [
    ['{"a": 1}', /not well-formed XML/],
    ['', /empty/],
    ['<!DOCTYPE a [<!ENTITY b "c">]><a>&b;</a>', /declares entities/],
  ] as const)
    assert.throws(
      () => place.find(received(body)),
      (error: Error & { code?: string }) => error.code === 'answer-not-xml' && says.test(error.message),
    );
});

const twoNamespaces = received(
  '<a:Answer xmlns:a="urn:larkhaven:answers"><a:berth code="N1">free</a:berth><b:berth xmlns:b="urn:larkhaven:other">taken</b:berth></a:Answer>',
  [['Content-Type', 'application/xml']],
);

const byNamespace: readonly (readonly [place: string, value: Value | undefined])[] = [
  ['//x:berth', 'free'],
  ['//y:berth', 'taken'],
  ['//x:berth/@code', 'N1'],
  ['//b:berth', 'taken'],
  ['//berth', ['free', 'taken']],
];
for (const [text, value] of byNamespace) {
  test(`at ${text}, with prefixes of our own, stands ${JSON.stringify(value)}`, async () => {
    const loads: Promise<unknown>[] = [];
    const place = readPlace(text, loads, { x: 'urn:larkhaven:answers', y: 'urn:larkhaven:other' });
    await Promise.all(loads);
    assert.deepEqual(place.find(twoNamespaces), value);
  });
}

test('a prefix that nobody declares is told with those that are known', async () => {
  const loads: Promise<unknown>[] = [];
  const place = readPlace('//z:berth', loads, { x: 'urn:larkhaven:answers' });
  await Promise.all(loads);
  assert.throws(() => place.find(twoNamespaces), /cannot be looked up in this answer/);
});

const htmlPage = received(
  '<!doctype html><html><body><p>Welcome<br>aboard<form method=post><input name=seal value="7&amp;8" @click="x"><input name="visitor"></form><table><tr><td>N1<td>N2</table></body></html>',
  [['Content-Type', 'text/html; charset=utf-8']],
);
const onPage: readonly (readonly [place: string, value: Value | undefined])[] = [
  ['//input[@name="seal"]/@value', '7&8'],
  ['//form/@method', 'post'],
  ['//td', ['N1', 'N2']],
  ['/html/body/p', 'Welcomeaboard'],
  ['//nothing', undefined],
];
for (const [text, value] of onPage) {
  test(`at ${text} of a page stands ${JSON.stringify(value)}`, async () => {
    const loads: Promise<unknown>[] = [];
    const place = readPlace(text, loads);
    await Promise.all(loads);
    assert.deepEqual(place.find(htmlPage), value);
  });
}
