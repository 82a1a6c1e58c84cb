/** Places: what stands where in an exchange, and what is near where nothing stands. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { Received } from '../../../src/core/exchange/response/received.js';
import { Evaluation } from '../../../src/core/expression/evaluation.js';
import { namesFrom } from '../../../src/core/expression/names.js';
import { runtimeMaker } from '../../../src/core/expression/runtime.js';
import { listAt, type Place } from '../../../src/core/place/place.js';
import { readBoundPlace, readPlace } from '../../../src/core/place/registry.js';
import type { Value } from '../../../src/core/value/written.js';

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

const response = received(
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
  test(`at ${text} stands ${JSON.stringify(value)}`, () => assert.deepEqual(readPlace(text, []).find(response), value));

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
  test(`near ${text} is ${hint}`, () => assert.equal(readPlace(text, []).near(response), hint));

test('a problem by RFC 9457 is an error that the response declares', () => {
  const problem = new Received({
    ...response.parts,
    status: 409,
    headers: [['content-type', 'application/problem+json; charset=utf-8']],
    body: Buffer.from('{"title": "Taken", "status": 409}'),
  });
  assert.deepEqual(readPlace('errors', []).find(problem), [{ title: 'Taken', status: 409 }]);
});

test('a response that is not JSON says so where JSON is looked for', () => {
  for (const [body, says] of [
    ['<html>', /begins with "<html>"/],
    ['', /empty/],
  ] as const) {
    assert.throws(
      () => readPlace('$.id', []).find(received(body)),
      (error: Error & { code?: string; reason?: string }) =>
        error.code === 'response-not-json' && says.test(`${error.message} ${error.reason}`),
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
      (error: Error & { code?: string }) => error.code === 'response-not-xml' && says.test(error.message),
    );
});

const twoNamespaces = received(
  '<a:Response xmlns:a="urn:larkhaven:responses"><a:berth code="N1">free</a:berth><b:berth xmlns:b="urn:larkhaven:other">taken</b:berth></a:Response>',
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
    const place = readPlace(text, loads, { x: 'urn:larkhaven:responses', y: 'urn:larkhaven:other' });
    await Promise.all(loads);
    assert.deepEqual(place.find(twoNamespaces), value);
  });
}

test('a prefix that nobody declares is told with those that are known', async () => {
  const loads: Promise<unknown>[] = [];
  const place = readPlace('//z:berth', loads, { x: 'urn:larkhaven:responses' });
  await Promise.all(loads);
  assert.throws(() => place.find(twoNamespaces), /cannot be looked up in this response/);
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

const reply = received('<Reply><Mark code="b">24 characters are in here</Mark><code>7</code></Reply>', [
  ['Content-Type', 'application/xml'],
]);
const marks = received('<Reply><a><Mark>1</Mark></a><Mark>2</Mark><Mark>3</Mark><code>x</code></Reply>', [
  ['Content-Type', 'application/xml'],
]);
/** Ready, with what it loads. */
async function placeAt(text: string): Promise<Place> {
  const loads: Promise<unknown>[] = [];
  const place = readBoundPlace(text, loads);
  await Promise.all(loads);
  return place;
}

const ofNodes: readonly (readonly [place: string, inReply: Value | undefined, inMarks: Value | undefined])[] = [
  ['//Mark', '24 characters are in here', ['1', '2', '3']],
  ['//Mark[2] | //Mark[1]', '24 characters are in here', ['1', '2', '3']],
  ['//code | //Mark', ['24 characters are in here', '7'], ['1', '2', '3', 'x']],
  ['count(//Mark)', 1, 3],
  ['(//Mark)[last()]', '24 characters are in here', '3'],
  ['string(//Mark)', '24 characters are in here', '1'],
  ['boolean(//Quay)', false, false],
  ['name(/*)', 'Reply', 'Reply'],
  ['sum(//a/Mark) + 1', 1, 2],
  ['//Quay', undefined, undefined],
];
for (const [text, inReply, inMarks] of ofNodes) {
  test(`XPath: ${text}, in document order`, async () => {
    const place = await placeAt(text);
    assert.deepEqual([place.find(reply), place.find(marks)], [inReply, inMarks]);
  });
}

test('as a list a place gives its nodes, the items of a list, or one value', async () => {
  const lists = async (text: string, at: Received): Promise<unknown> => listAt(await placeAt(text), at);
  assert.deepEqual(await lists('//Mark', reply), ['24 characters are in here']);
  assert.deepEqual(await lists('//Quay', reply), []);
  assert.deepEqual(await lists('count(//Mark)', reply), [1]);
  assert.deepEqual(await lists('$.items[*].code', response), ['N1', 'N2']);
  assert.deepEqual(await lists('$.items', response), [{ code: 'N1' }, { code: 'N2' }]);
  assert.deepEqual(await lists('$.id', response), ['PC-0001']);
});

test('${…} in a place is put in as a value, and can be no part of the query', async () => {
  const bound = async (text: string, who: Value, at: Received): Promise<Value | undefined> => {
    const evaluation = new Evaluation(namesFrom({ who }, 'a test'), {
      runtime: runtimeMaker({ root: '.', secret: () => undefined })(),
      onSecret: () => undefined,
    });
    return (await placeAt(text)).bound?.(evaluation).find(at);
  };
  const items = received('{"items": [{"name": "a\\"] || true", "id": 1}, {"name": "b", "id": 2}], "b": {"x": 3}}');
  assert.deepEqual(await bound('$.items[?@.name == ${who}].id', 'b', items), [2]);
  assert.deepEqual(await bound('$.items[?@.name == ${who}].id', 'a"] || true', items), [1]);
  assert.deepEqual(await bound('$.items[?@.id >= ${who}].name', 2, items), ['b']);
  assert.equal(await bound('$[${who}].x', 'b', items), 3);
  assert.equal(await bound('$.items[${who}].name', -1, items), 'b');
  assert.equal(await bound('//Mark[@code = ${who}]', 'b', reply), '24 characters are in here');
  for (const hostile of ["b' or '1'='1", '"] | //code | //Mark["', '$slot0'])
    assert.equal(await bound('//Mark[@code = ${who}]', hostile, reply), undefined, hostile);
  assert.equal(await bound('//Mark[contains(., ${who | upper | lower})]/@code', 'in here', reply), 'b');
});

test('${…} where it cannot stand is refused, and said where it can', async () => {
  for (const text of ['header.${who}', 'status${who}', '$.${who}', '$.items[?${who}]'])
    assert.throws(() => readBoundPlace(text, []), { code: 'place-syntax' }, text);
  assert.throws(() => readPlace('$[?@.a == ${who}]', []), /only in places under expect: and keep:/);
});
