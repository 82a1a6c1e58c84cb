/** What is documented as a schema is checked before anything is sent, and of what comes back. */
import assert from 'node:assert/strict';
import { after, test } from 'node:test';
import { collectionOf, writeIn } from '../../support/folder.js';
import { document, echoTrail } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';

const text = { type: 'string' };
const berth = {
  type: 'object',
  required: ['id', 'code', 'password'],
  properties: {
    id: { ...text, readOnly: true },
    password: { ...text, writeOnly: true },
    code: { ...text, pattern: '^[NSW][0-9]$' },
    depths: { type: 'array', uniqueItems: true, items: { type: 'number' } },
    notes: { type: 'object', additionalProperties: text },
  },
};
const content = { 'application/json': { schema: { $ref: '#/components/schemas/Berth' } } };
const description = {
  openapi: '3.0.3',
  info: { title: 'Berths', version: '1' },
  paths: {
    '/berths': {
      post: {
        operationId: 'addBerth',
        requestBody: { required: true, content },
        responses: { 200: { description: 'ok', content } },
      },
    },
  },
  components: { schemas: { Berth: berth } },
};

const server = await rawServer(() =>
  responseOf('{"id": "b1", "code": "N1", "depths": [1, 1]}', { type: 'application/json' }),
);
after(() => server.close());

async function berths(body: string, expect = ''): Promise<string> {
  const cwd = collectionOf(
    {
      'requests/add.yaml': `operation: berths/addBerth\nmethod: POST\nurl: \${origin}/berths\nbody: {json: ${body}}\n${expect}`,
    },
    server.origin,
  );
  writeIn(cwd, 'berths.json', JSON.stringify(description));
  const added = await echoTrail(['docs', 'add', 'berths.json', '--name', 'berths'], { cwd });
  assert.equal(added.status, 0, added.err);
  return cwd;
}

test('check, preview and --strict hold a body against the whole schema, and say where it breaks', async () => {
  const cwd = await berths('{code: X1, password: x, depths: [2, 2], notes: {a: 1}}');
  const wanted = [
    /\$\.code is "X1", documented as text that matches \^\[NSW\]\[0-9\]\$/,
    /\$\.depths has the same item twice, at 0 and 1/,
    /\$\.notes\.a is an integer, documented as string/,
  ];
  const check = await echoTrail(['check'], { cwd });
  const preview = await echoTrail(['preview', 'add'], { cwd });
  const strict = await echoTrail(['send', 'add', '--strict'], { cwd });
  assert.equal(strict.status, 2, strict.err);
  for (const one of wanted) {
    assert.match(check.out, one);
    assert.match(preview.out + preview.err, one);
    assert.match(strict.err, one);
  }
  assert.match(check.out, /requests\/add\.yaml:4:21 {2}warning {2}\$\.code/);
});

test('an action of an overlay that matches nothing is told', async () => {
  const cwd = await berths('{code: N1, password: x}');
  writeIn(
    cwd,
    'docs/berths.overlay.yaml',
    'overlay: 1.0.0\ninfo: {title: Ours, version: "1"}\nactions:\n  - {target: $.paths.nope, update: {description: x}}\n',
  );
  const { out } = await echoTrail(['check'], { cwd });
  assert.match(
    out,
    /docs\/berths\.overlay\.yaml {2}warning {2}the target \$\.paths\.nope of the overlay matches nothing/,
  );
});

test('what the vendor sets is not wanted in a request, and what it never shows is not wanted in a response', async () => {
  const cwd = await berths('{code: N1, password: x, notes: {any: name}}', 'expect: {$: {schema: documented}}\n');
  assert.match((await echoTrail(['check'], { cwd })).out, /no findings/);
  const sent = await echoTrail(['send', 'add', '--strict', '--against-docs'], { cwd });
  assert.doesNotMatch(sent.out + sent.err, /password/);
  assert.match(sent.err, /undocumented {2}\$\.depths has the same item twice/);
  assert.match(sent.out + sent.err, /depths must NOT have duplicate items/);
});

test('of a secret in a body nothing is shown, however long it is and whatever is wrong with it', async () => {
  const cwd = await berths('{code: "${secret.code}", password: x, notes: {a: ["${secret.code}"]}}');
  const secret = `tide-${'winch-grease-77-'.repeat(12)}`;
  for (const args of [
    ['preview', 'add'],
    ['send', 'add'],
    ['send', 'add', '--strict'],
    ['preview', 'add', '--json'],
  ]) {
    const { out, err } = await echoTrail(args, { cwd, env: { ECHO_TRAIL_SECRET_CODE: secret } });
    assert.match(out + err, /\$\.code(?: is |","what":"is )/, args.join(' '));
    assert.ok(!(out + err).includes(secret.slice(0, 20)), `${args.join(' ')}: ${out}${err}`);
  }
});

const lights = `# Lights

## GET /lights

| Parameter | In | Type | Description |
|---|---|---|---|
| where | query | string | Clauses. Operators: is, above. Texts stand in single quotes |
`;

test('a page that demands single quotes: check and send tell of a filter without them', async () => {
  const cwd = collectionOf(
    {
      'lights.md': lights,
      'requests/list.yaml':
        'operation: lights/get-lights\ninputs: {quay: {default: north}}\nurl: ${origin}/lights\nquery: {where: "quay is \\"north\\" and lumen above 4"}\n',
      'requests/one.yaml':
        'operation: lights/get-lights\ninputs: {quay: {default: north}}\nurl: ${origin}/lights\nquery: {where: "quay is ${quay}"}\n',
    },
    server.origin,
  );
  assert.equal((await echoTrail(['docs', 'add', 'lights.md', '--name', 'lights'], { cwd })).status, 0);
  const checked = await echoTrail(['check'], { cwd });
  assert.match(checked.out + checked.err, /query where has a text in other quotes: "north"; documented is 'north'/);
  const preview = await echoTrail(['preview', 'one'], { cwd });
  assert.match(preview.out + preview.err, /query where has a text without quotes: north; documented is 'north'/);
});

const soapSchema = `<?xml version="1.0"?><definitions name="Customs" targetNamespace="urn:customs" xmlns="http://schemas.xmlsoap.org/wsdl/" xmlns:t="urn:customs" xmlns:soap="http://schemas.xmlsoap.org/wsdl/soap/" xmlns:x="http://www.w3.org/2001/XMLSchema">
<types><x:schema targetNamespace="urn:customs" elementFormDefault="qualified">
<x:element name="Declare"><x:complexType><x:sequence><x:element name="vessel" type="x:string"/><x:element name="tonnes" type="x:int"/></x:sequence></x:complexType></x:element>
<x:element name="Declared"><x:complexType><x:sequence><x:element name="mark" type="x:string"/></x:sequence></x:complexType></x:element></x:schema></types>
<message name="In"><part name="p" element="t:Declare"/></message><message name="Out"><part name="p" element="t:Declared"/></message>
<portType name="P"><operation name="Declare"><input message="t:In"/><output message="t:Out"/></operation></portType>
<binding name="B" type="t:P"><soap:binding style="document" transport="http://schemas.xmlsoap.org/soap/http"/><operation name="Declare"><soap:operation soapAction="d"/><input><soap:body use="literal"/></input><output><soap:body use="literal"/></output></operation></binding>
<service name="Customs"><port name="Desk" binding="t:B"><soap:address location="http://127.0.0.1:9/customs"/></port></service></definitions>`;

test('an envelope, in the request or in a file of its own, is held against its schemas, and so is the response', async () => {
  const office = await rawServer(() =>
    responseOf(
      '<s:Envelope xmlns:s="http://schemas.xmlsoap.org/soap/envelope/"><s:Body><d:Declared xmlns:d="urn:customs"><d:note/></d:Declared></s:Body></s:Envelope>',
      { type: 'text/xml' },
    ),
  );
  const envelope = [
    '<s:Envelope xmlns:s="http://schemas.xmlsoap.org/soap/envelope/" xmlns:d="urn:customs">',
    '  <s:Body><d:Declare>',
    '    <d:tonnes>${tonnes}</d:tonnes>',
    '    <d:vessel>Dunlin</d:vessel>',
    '  </d:Declare></s:Body></s:Envelope>',
    '',
  ];
  const request = (spec: string): string =>
    `operation: customs/Declare\ninputs: {tonnes: {default: many}}\nmethod: POST\nurl: \${origin}/customs\nbody:\n  soap:\n    action: d\n    envelope: ${spec}`;
  const cwd = collectionOf(
    {
      'customs.wsdl': soapSchema,
      'bodies/declare.xml': envelope.join('\n'),
      'requests/filed.yaml': request('bodies/declare.xml\n'),
      'requests/written.yaml': request(`|\n${envelope.map((line) => `      ${line}`).join('\n')}\n`),
    },
    office.origin,
  );
  assert.equal((await echoTrail(['docs', 'add', 'customs.wsdl', '--name', 'customs'], { cwd })).status, 0);
  const { findings } = document<{ findings: { file: string; line: number; what: string }[] }>(
    await echoTrail(['check', '--json'], { cwd }),
  );
  assert.deepEqual(
    findings.map(({ file, line, what }) => [file, line, what]),
    [
      ['bodies/declare.xml', 4, '/Declare/vessel stands behind tonnes, documented is before it'],
      ['requests/written.yaml', 12, '/Declare/vessel stands behind tonnes, documented is before it'],
    ],
  );
  const refused = await echoTrail(['send', 'filed', '--strict'], { cwd });
  assert.equal(refused.status, 2, refused.err);
  assert.match(refused.err, /\/Declare\/tonnes is "many", documented as integer/);
  assert.equal(office.received.length, 0);
  const sent = await echoTrail(['send', 'filed', '--against-docs', '--set', 'tonnes=4'], { cwd });
  assert.match(sent.out + sent.err, /\/Declared\/mark is documented as required, and missing/);
  assert.match(sent.out + sent.err, /\/Declared\/note is not documented/);
});
