/** Documentation of every format through the program: added, explored, drafted, checked, sent, refreshed; and what is refused. */
import assert from 'node:assert/strict';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { join } from 'node:path';
import { after, test } from 'node:test';
import { collectionOf, demoCollection, temporaryFolder, writeIn } from '../../support/folder.js';
import { document, type Ended, echoTrail } from '../../support/program.js';
import { harbourForThisFile } from '../../support/standin.js';

const { origin } = await harbourForThisFile();
const cwd = collectionOf({}, origin);
const run = (...args: string[]): Promise<Ended> => echoTrail(args, { cwd });
const ok = async (...args: string[]): Promise<Ended> => {
  const ended = await run(...args);
  assert.equal(ended.status, 0, `${args.join(' ')}\n${ended.out}${ended.err}`);
  return ended;
};

const services: readonly (readonly [
  name: string,
  address: string,
  options: string[],
  format: string,
  operations: number,
])[] = [
  ['harbour', '/openapi.yaml', [], 'OpenAPI', 14],
  ['older', '/v0/openapi.json', [], 'OpenAPI', 3],
  ['pilots', '/graphql/schema', [], 'GraphQL', 6],
  ['live', '/graphql', ['--graphql'], 'GraphQL', 6],
  ['customs', '/customs.wsdl', [], 'WSDL', 4],
  ['tides', '/tides/reference.html', [], 'page', 3],
];

test('each service of the stand-in is added in its own format, and listed', async () => {
  for (const [name, address, options] of services)
    await ok('docs', 'add', `${origin}${address}`, '--name', name, ...options);
  const { sources } = document<{
    sources: { name: string; format: string; operations: number; warnings: unknown[] }[];
  }>(await ok('docs', 'list', '--json'));
  assert.deepEqual(
    sources.map(({ name, format, operations }) => [name, format, operations]),
    services.map(([name, , , format, operations]) => [name, format, operations]),
  );
  assert.ok(existsSync(join(cwd, 'docs/customs/customs/types.xsd')), 'the imported schemas are kept');
});

test('tree, find with a typing mistake, show of an operation and of a type', async () => {
  const tree = await ok('docs', 'tree');
  for (const line of [/vessels {2}GET listVessels/, /query pilots/, /SOAP 1\.1 Soap11\.Declare/, /\{station\}/])
    assert.match(tree.out, line);
  const found = await ok('docs', 'find', 'declaraton');
  assert.match(found.err, /declaraton stands nowhere; declaration\w* was looked for/);
  assert.match(found.out, /customs\/Soap11/);
  assert.match(
    (await ok('docs', 'show', 'customs/Soap12.Declare')).out,
    /action {2}"urn:larkhaven:customs:2\/Declare"/,
  );
  assert.match((await ok('docs', 'show', '--type', 'pilots/RotaEntry')).out, /either Boarding[\s\S]*or Rest/);
  assert.match(
    (await ok('docs', 'show', 'tides/get-tides-station-levels')).out,
    /authentication {2}not documented[\s\S]*line \d+/,
  );
  assert.match((await ok('docs', 'show', 'harbour/bookCall')).out, /possible sources\n {2}imo +harbour\/listVessels/);
});

test('an operation is found by what its name has behind a dot; several are listed', async () => {
  const both = await run('docs', 'show', 'ReadDeclaration');
  assert.equal(both.status, 2);
  assert.match(both.err, /fits several operations: customs\/Soap11\.ReadDeclaration, customs\/Soap12\.ReadDeclaration/);
  assert.match((await run('docs', 'show', 'harbour/ReadDeclaration')).err, /no documentation source describes/);
  assert.match((await run('docs', 'show', 'ReadDeclaraton')).err, /did you mean ReadDeclaration\?/);
});

test('a response has an example, whatever the format; a dry run takes from it what would be kept', async () => {
  assert.match(
    (await ok('docs', 'show', 'customs/Soap11.Declare')).out,
    /<customs:DeclareResponse>\n +<customs:number>text</,
  );
  assert.match((await ok('docs', 'show', 'pilots/pilots')).out, /"pageInfo": \{\n +"hasNextPage": false/);
  const at = collectionOf({}, origin);
  for (const source of ['/customs.wsdl', '/graphql/schema'])
    await echoTrail(['docs', 'add', `${origin}${source}`, '--name', source.slice(1, 8)], { cwd: at });
  await echoTrail(['draft', 'customs/Soap11.Declare', '--as', 'declare'], { cwd: at });
  await echoTrail(['draft', 'graphql/staff', '--as', 'staff'], { cwd: at });
  writeIn(
    at,
    'trails/t.yaml',
    `inputs: {Desk: {default: north}, imo: {default: "9000017"}, arrival: {default: 2026-11-24}, line: {default: 1}, kind: {default: grain}, tonnes: {default: 1}, broker: {default: A}}
steps:
  - {send: declare, keep: {number: //number}}
  - {send: staff, keep: {name: "$.data.staff[0].name"}}
  - {keep: {both: "\${number} \${name}"}}
`,
  );
  const walked = await echoTrail(['run', 't', '--dry-run'], { cwd: at });
  assert.equal(walked.status, 0, walked.out + walked.err);
  assert.match(walked.out, /kept number[\s\S]*kept name[\s\S]*ok +keep both/);
});

const drafted: readonly (readonly [operation: string, name: string, set: string[]])[] = [
  ['older/oldVessel', 'older/vessel', ['imo=9000017']],
  ['pilots/pilot', 'pilots/one', ['id=P1']],
  [
    'customs/Soap11.Declare',
    'customs/declare',
    ['Desk=north', 'imo=9000017', 'arrival=2026-11-24', 'line=1', 'kind=grain', 'tonnes=12.5', 'broker=A & <B> "C"'],
  ],
  ['customs/Soap12.ReadDeclaration', 'customs/read', ['number=CD-0001']],
  ['tides/get-tides-station-levels', 'tides/levels', ['station=bar', 'from=2026-11-24']],
];

test('what is drafted from each format passes the check, and the vendor takes it', async () => {
  for (const [operation, name] of drafted) await ok('draft', operation, '--as', name);
  assert.match((await ok('check')).out, /no findings/);
  for (const [, name, set] of drafted) await ok('send', name, ...set.flatMap((one) => ['--set', one]));
  const seen = document<{ headers: { name: string; value: string }[] }>(
    await ok('preview', 'customs/declare', '--json', ...(drafted[2]?.[2] ?? []).flatMap((one) => ['--set', one])),
  );
  const header = (name: string) => seen.headers.find((one) => one.name.toLowerCase() === name)?.value;
  assert.equal(header('soapaction'), '"urn:larkhaven:customs:2/Declare"');
  assert.equal(header('content-type'), 'text/xml; charset=utf-8');
});

test('a draft with a selection; and one that the schema does not have', async () => {
  await ok('draft', 'pilots/pilots', '--as', 'pilots/names', '--fields', 'totalCount,edges.node.name');
  const names = await ok('send', 'pilots/names', '--pick', '$.data.pilots.edges[*].node.name');
  assert.equal((JSON.parse(names.out) as string[]).length, 3);
  const wrong = await run('draft', 'pilots/pilots', '--as', 'x', '--fields', 'totl');
  assert.equal(wrong.status, 2);
  assert.match(wrong.err, /has no field totl/);
});

test('errors inside a response of status 200 and a SOAP fault are failures', async () => {
  writeIn(
    cwd,
    'requests/off-duty.yaml',
    'method: POST\nurl: ${origin}/graphql\nchanges: false\nbody: {graphql: {document: "{ pilot(id: \\"P2\\") { phone } }"}}\n',
  );
  const partial = await run('send', 'off-duty');
  assert.equal(partial.status, 1);
  assert.match(partial.err, /errors: expected none, found 1 error\n +Berit Marlow is not on duty/);
  const fault = await run('send', 'customs/read', '--set', 'number=none');
  assert.equal(fault.status, 1);
  assert.match(fault.err, /the declaration is not known/);
});

test('check tells a document that the schema does not take, a wrong action, and values that are not documented', async () => {
  const own = demoCollection(origin);
  const inOwn = (...args: string[]): Promise<Ended> => echoTrail(args, { cwd: own });
  await inOwn('docs', 'add', `${origin}/graphql/schema`, '--name', 'pilots');
  await inOwn('docs', 'add', `${origin}/customs.wsdl`, '--name', 'customs');
  writeIn(
    own,
    'requests/a.yaml',
    'operation: pilots/pilot\nmethod: POST\nurl: ${origin}/graphql\nchanges: false\nsession: none\nbody:\n  graphql:\n    document: |\n      query ($id: ID!) {\n        pilot(id: $id) { nmae }\n      }\n    variables: {id: P1, idd: 2}\n',
  );
  writeIn(
    own,
    'requests/b.yaml',
    'operation: customs/Soap11.ReadDeclaration\nmethod: POST\nurl: ${origin}/customs\nsession: none\nbody: {soap: {action: "read", envelope: "<x/>"}}\n',
  );
  writeIn(
    own,
    'requests/c.yaml',
    'operation: harbour/bookCall\nmethod: POST\nurl: ${origin}/v1/vessels/9000017/calls\nbody: {json: {berth: N1, nights: "2", crago: grain, id: PC-1}}\n',
  );
  const checked = await inOwn('check');
  assert.equal(checked.status, 2);
  for (const line of [
    /requests\/a\.yaml:10:\d+ +error +the document does not fit the schema: Cannot query field "nmae"/,
    /requests\/a\.yaml:12:\d+ +warning +variables\.idd is not documented/,
    /requests\/b\.yaml:5:\d+ +error +the action is "read", documented is "urn:larkhaven/,
    /requests\/c\.yaml:4:\d+ +warning +\$\.nights is a string, documented as integer/,
    /\$\.crago is not documented; documented is cargo/,
  ])
    assert.match(checked.out, line);
  const strict = await inOwn('send', 'c', '--session', 'none', '--strict');
  assert.equal(strict.status, 2);
  assert.match(strict.err, /differs from harbour\/bookCall: \$\.nights is a string/);
  writeIn(own, 'requests/d.yaml', 'operation: harbour/bookCall\nurl: ${origin}/v1/vessels/9000017/calls\n');
  assert.match((await inOwn('send', 'd', '--session', 'none', '--strict')).err, /method is GET, documented is POST/);
  const loose = await inOwn('send', 'c', '--session', 'none');
  assert.match(loose.err, /warning {2}\$\.nights is a string, documented as integer/);
  const looked = await inOwn('preview', 'd', '--session', 'none');
  assert.match(looked.err, /warning {2}method is GET, documented is POST/);
  assert.equal(loose.status, 1);
});

test('what is documented as required and missing is told, once sessions have added their part', async () => {
  const parameter = (name: string, where: string): object => ({ name, in: where, required: true, schema: {} });
  const own = collectionOf({
    'echo-trail.yaml': 'name: t\nenvironment: sandbox\ndocs: {desk: {file: docs/d.json}}\n',
    'docs/d.json': JSON.stringify({
      openapi: '3.1.0',
      info: { title: 'T' },
      paths: {
        '/plans': {
          get: {
            operationId: 'list',
            parameters: [parameter('X-Desk', 'header'), parameter('by', 'query')],
            responses: {},
          },
          post: { operationId: 'hand', requestBody: { required: true, content: { 'text/plain': {} } }, responses: {} },
        },
      },
    }),
    'sessions/desk.yaml': 'kind: api-key\nkey: tide\nheader: x-desk\n',
    'requests/list.yaml': 'operation: desk/list\nurl: ${origin}/plans\n',
    'requests/hand.yaml': 'operation: desk/hand\nmethod: POST\nurl: ${origin}/plans\n',
    'requests/odd.yaml': 'operation: desk/list\nurl: ${origin}/plans?by=me\nbody: {json: {}}\n',
  });
  const told = async (...args: string[]): Promise<string[]> =>
    (await echoTrail(['preview', ...args], { cwd: own })).err.match(/(?<=warning {2}).*/g) ?? [];
  assert.deepEqual(await told('list'), [
    'header X-Desk is documented as required, and missing',
    'query by is documented as required, and missing',
  ]);
  assert.deepEqual(await told('list', '--session', 'desk'), ['query by is documented as required, and missing']);
  assert.deepEqual(await told('hand'), ['body is documented as required, and missing']);
  assert.deepEqual(await told('odd', '--session', 'desk'), [
    'body is there, and none is documented',
    'a GET carries a body, which many servers ignore or refuse',
  ]);
  const strict = await echoTrail(['send', 'list', '--session', 'desk', '--strict'], { cwd: own });
  assert.match(strict.err, /differs from desk\/list: query by is documented as required, and missing/);
  const { undocumented } = document<{ undocumented: unknown[] }>(
    await echoTrail(['preview', 'hand', '--json'], { cwd: own }),
  );
  assert.deepEqual(undocumented, [{ at: 'body', what: 'is documented as required, and missing' }]);
});

test('a response that differs from the documentation is told with --against-docs', async () => {
  const own = demoCollection(origin);
  writeIn(
    own,
    'docs/harbour.overlay.yaml',
    'overlay: 1.0.0\ninfo: {title: Ours, version: "1"}\nactions:\n  - {target: "$.components.schemas.Session.properties.expiresIn", update: {type: string}}\n',
  );
  const sent = await echoTrail(
    ['send', 'desk/log-in', '--set', 'user=agent', '--set', 'password=tidewater-42', '--against-docs'],
    { cwd: own },
  );
  assert.match(sent.err, /undocumented {2}\$\.expiresIn is an integer, documented as string/);
});

test('samples: from an echo and from a file, more beside the first', async () => {
  const { echo } = document<{ echo: string }>(await ok('send', 'older/vessel', '--set', 'imo=9000017', '--json'));
  await ok('docs', 'add', '--sample', echo, '--name', 'seen');
  const file = join(temporaryFolder(), 'exchange.txt');
  writeFileSync(
    file,
    'POST /v0/notices HTTP/1.1\nHost: larkhaven.example\nContent-Type: application/json\n\n{"text": "fog"}\n\nHTTP/1.1 201 Created\nContent-Type: application/json\n\n{"id": 1, "text": "fog"}\n',
  );
  await ok('docs', 'add', '--sample', file, '--name', 'seen');
  assert.match((await ok('docs', 'tree', 'seen')).out, /vessels\/\{imo\} {2}GET[\s\S]*notices {2}POST/);
  assert.match((await ok('docs', 'show', 'seen/post-v0-notices')).out, /text +string +required +\(guess\)/);
});

test('refresh tells what changed and whom it affects, and overwrites only when that is accepted', async () => {
  const own = demoCollection(origin);
  const inOwn = (...args: string[]): Promise<Ended> => echoTrail(args, { cwd: own });
  await inOwn('docs', 'add', `${origin}/openapi.yaml`, '--name', 'harbour', '--replace');
  const snapshot = join(own, 'docs/harbour.yaml');
  const older = readFileSync(snapshot, 'utf8')
    .replace('operationId: showBerth', 'operationId: oneBerth')
    .replaceAll('maximum: 14', 'maximum: 20');
  writeFileSync(snapshot, older);
  const told = await inOwn('docs', 'refresh');
  assert.equal(told.status, 1);
  assert.match(
    told.out,
    /changed +bookCall +affects requests calls\/book; trails berth-stay\n +breaking: narrowed +body nights +at-most 14, was 20/,
  );
  assert.match(told.out, /added +showBerth[\s\S]*removed +oneBerth/);
  assert.equal(readFileSync(snapshot, 'utf8'), older);
  assert.equal((await inOwn('docs', 'refresh', 'harbour', '--accept')).status, 0);
  assert.match((await inOwn('docs', 'refresh')).out, /harbour: as before/);
});

/** A vendor that refers to things that it should not. */
const asked: string[] = [];
const vendor = createServer((request, response) => {
  asked.push(request.url ?? '');
  const responses: Record<string, string> = {
    '/loop.yaml': 'openapi: 3.1.0\ninfo: {title: L}\npaths:\n  /a: {$ref: "second.yaml#/a"}\n',
    '/second.yaml': 'a: {$ref: "loop.yaml#/paths/~1a"}\n',
    '/foreign.yaml':
      'openapi: 3.1.0\ninfo: {title: F}\npaths:\n  /a: {get: {operationId: a, responses: {200: {$ref: "http://other.example:9/x.yaml"}}}}\n',
  };
  const text = responses[request.url ?? ''];
  response.writeHead(text === undefined ? 404 : 200).end(text);
});
await new Promise<void>((resolve) => vendor.listen(0, '127.0.0.1', resolve));
after(() => vendor.close());
const at = `http://127.0.0.1:${(vendor.address() as { port: number }).port}`;

test('references that go in a circle over files end; another host is not asked', async () => {
  const loop = await ok('docs', 'add', `${at}/loop.yaml`, '--name', 'loop');
  assert.match(loop.err, /leads back to itself|not a map of methods|describes no operation/);
  const foreign = await ok('docs', 'add', `${at}/foreign.yaml`, '--name', 'foreign');
  assert.match(
    foreign.err,
    /other\.example:9\/x\.yaml was not read: it is at another host; --fetch-from other\.example:9/,
  );
  assert.deepEqual(asked, ['/loop.yaml', '/second.yaml', '/foreign.yaml']);
});

test('a reference to a file outside the folder of the document is not read', async () => {
  const folder = temporaryFolder();
  writeIn(folder, 'secret.yaml', 'x: {type: string}\n');
  writeIn(
    folder,
    'docs/main.yaml',
    'openapi: 3.1.0\ninfo: {title: O}\npaths:\n  /a: {get: {operationId: a, parameters: [{name: q, in: query, schema: {$ref: "../secret.yaml#/x"}}], responses: {}}}\n  /b: {$ref: "../../../../etc/passwd"}\n',
  );
  const added = await ok('docs', 'add', join(folder, 'docs/main.yaml'), '--name', 'outside');
  assert.match(added.err, /secret\.yaml was not read/);
  assert.match(added.err, /etc\/passwd was not read/);
  assert.doesNotMatch(readFileSync(join(cwd, 'docs/outside.yaml'), 'utf8'), /root:/);
});

const hostile: readonly (readonly [name: string, file: string, text: () => string, says: RegExp])[] = [
  ['150 MB', 'big.json', () => `{"openapi": "3.1.0", "x": "${'a'.repeat(150e6)}"}`, /larger than 128/],
  [
    '10,000 levels of JSON',
    'deep.json',
    () => `{"openapi":"3.1.0","x":${'['.repeat(10_000)}${']'.repeat(10_000)}}`,
    /is nested too deeply/,
  ],
  [
    '10,000 levels of YAML',
    'deep.yaml',
    () => `openapi: 3.1.0\nx: ${'['.repeat(10_000)}${']'.repeat(10_000)}\n`,
    /is nested too deeply, or expands too far[\s\S]*more than 1000 levels/,
  ],
  [
    '500 levels of YAML',
    'less-deep.yaml',
    () => {
      const levels = Array.from({ length: 500 }, (_, at) => `${' '.repeat(at + 1)}k:\n`).join('');
      return `openapi: 3.1.0\ninfo: {title: Deep}\npaths: {/a: {get: {responses: {}}}}\nx-deep:\n${levels}`;
    },
    /next: echo-trail docs tree/,
  ],
  [
    'aliases that multiply',
    'bomb.yaml',
    () => {
      const line = (_: unknown, at: number): string => `a${at + 1}: &a${at + 1} [${`*a${at}, `.repeat(9)}]\n`;
      return `openapi: 3.1.0\na0: &a0 [x, x]\n${Array.from({ length: 9 }, line).join('')}`;
    },
    /is nested too deeply, or expands too far[\s\S]*its aliases multiply/,
  ],
  [
    '10,000 levels of XML',
    'deep.wsdl',
    () =>
      `<definitions xmlns="http://schemas.xmlsoap.org/wsdl/">${'<a>'.repeat(10_000)}${'</a>'.repeat(10_000)}</definitions>`,
    /describes no SOAP operation|nested or multiplied/,
  ],
  [
    '10,000 levels of HTML',
    'deep.html',
    () => `<html><body>${'<div>'.repeat(10_000)}GET /x</body></html>`,
    /no method and path/,
  ],
  [
    '10,000 levels of GraphQL',
    'deep.graphql',
    () => `type Query { a: ${'['.repeat(10_000)}Int${']'.repeat(10_000)} }`,
    /not a GraphQL schema|nested or multiplied/,
  ],
  [
    'entities that multiply',
    'lol.wsdl',
    () =>
      `<!DOCTYPE d [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;&a;">]><definitions xmlns="http://schemas.xmlsoap.org/wsdl/">&b;</definitions>`,
    /declares entities/,
  ],
  [
    'an entity of another file',
    'xxe.wsdl',
    () =>
      `<!DOCTYPE d [<!ENTITY a SYSTEM "file:///etc/passwd">]><definitions xmlns="http://schemas.xmlsoap.org/wsdl/">&a;</definitions>`,
    /declares entities/,
  ],
];
for (const [name, file, text, says] of hostile) {
  test(`${name}: read safely or refused, quickly and without a trace`, async () => {
    const path = join(temporaryFolder(), file);
    writeFileSync(path, text());
    const ended = await run('docs', 'add', path, '--name', 'hostile', '--replace');
    assert.match(ended.err, says);
    assert.doesNotMatch(ended.err, /\n +at .*\.js|code +fault|root:/);
    assert.ok([0, 2].includes(ended.status), ended.err);
  });
}

test('introspection that is off is told, with what else can be given', async () => {
  const refused = await run('docs', 'add', `${origin}/v1/berths`, '--graphql', '--name', 'no');
  assert.equal(refused.status, 2);
  assert.match(refused.err, /does not give its schema[\s\S]*schema as a file/);
  assert.ok(!existsSync(join(cwd, 'docs/no.json')));
});
