/** What readings have in common and where they differ: samples, drift, links, values, overlays. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { stringify } from 'yaml';
import { driftBetween } from '../../../src/core/documentation/changes/drift.js';
import { mismatches } from '../../../src/core/documentation/changes/mismatch.js';
import { linksOf } from '../../../src/core/documentation/explore/links.js';
import { inferFields } from '../../../src/core/documentation/formats/sample/infer.js';
import { sampleFromMessages } from '../../../src/core/documentation/formats/sample/messages.js';
import type { Field } from '../../../src/core/documentation/model/model.js';
import { mainAddress, readPart } from '../../../src/core/documentation/reading/documents.js';
import { withOverlay } from '../../../src/core/documentation/reading/overlay.js';
import { harbourDocument } from '../../../src/standin/harbour/openapi.js';
import { pilotSchema } from '../../../src/standin/pilots/schema.js';
import { readJson, readSource } from '../../support/documentation.js';

const inferred: readonly (readonly [name: string, samples: unknown[], fields: unknown])[] = [
  ['an integer and a number', [{ a: 1 }, { a: 1.5 }], [['a', 'number', true]]],
  [
    'a field that one lacks',
    [{ a: 1, b: 'x' }, { a: 2 }],
    [
      ['a', 'integer', true],
      ['b', 'string', false],
    ],
  ],
  ['null beside a text', [{ a: null }, { a: 'x' }], [['a', 'string or null', true]]],
  [
    'dates',
    [{ a: '2026-11-24', b: '2026-11-24T09:00:00Z' }],
    [
      ['a', 'string (date)', true],
      ['b', 'string (date-time)', true],
    ],
  ],
  ['a date and a text', [{ a: '2026-11-24' }, { a: 'soon' }], [['a', 'string', true]]],
  ['an empty list and one of numbers', [{ a: [] }, { a: [1] }], [['a', 'array of integer', true]]],
  ['items of a list', [[{ a: true }, {}]], [['a', 'boolean', false]]],
];
for (const [name, samples, fields] of inferred)
  test(`inferred: ${name}`, () =>
    assert.deepEqual(
      inferFields(samples).map(({ name: one, type, required }) => [one, type, required]),
      fields,
    ));

const exchange = (path: string, response: object, sent = ''): string =>
  `${sent === '' ? 'GET' : 'POST'} ${path} HTTP/1.1\nHost: larkhaven.example\n\n${sent}\n\nHTTP/1.1 200 OK\nContent-Type: application/json\n\n${JSON.stringify(response)}\n`;

test('samples of one call are one operation; parts that vary are parameters, named by the member of the response', async () => {
  const samples = [
    sampleFromMessages(exchange('/v1/vessels/9000017?full=true', { imo: '9000017', name: 'Amber Tern' }), 'a'),
    sampleFromMessages(exchange('/v1/vessels/9000003', { imo: '9000003', name: 'Grey Heron', flag: null }), 'b'),
    sampleFromMessages(exchange('/v1/berths/N1/lights', { on: true }), 'c'),
    sampleFromMessages(exchange('/v1/notes', { id: 4 }, '{"text": "fog"}'), 'd'),
  ];
  const { operations } = await readSource(JSON.stringify({ samples }), 'samples.json');
  assert.deepEqual(
    operations.map(({ method, path, certainty }) => [method, path, certainty]),
    [
      ['GET', '/v1/vessels/{imo}', 'guess'],
      ['GET', '/v1/berths/{berthId}/lights', 'guess'],
      ['POST', '/v1/notes', 'guess'],
    ],
  );
  const [vessels, , notes] = operations;
  assert.deepEqual(
    vessels?.parameters.map(({ name, type, required, in: where }) => [where, name, type, required]),
    [
      ['path', 'imo', 'integer', true],
      ['query', 'full', 'boolean', false],
    ],
  );
  assert.equal(vessels?.responses[0]?.content?.fields.find(({ name }) => name === 'flag')?.required, false);
  assert.deepEqual(
    notes?.body?.fields.map(({ name }) => name),
    ['text'],
  );
});

test('a text that is no exchange is refused', () =>
  assert.throws(() => sampleFromMessages('GET /x', 'x'), /not a request with its response/));

type Document = {
  paths: Record<string, Record<string, { operationId: string; deprecated?: boolean }>>;
  components: { schemas: Record<string, { properties: Record<string, Record<string, unknown>>; required: string[] }> };
};
const changes: readonly (readonly [
  name: string,
  change: (document: Document) => void,
  operation: string,
  found: readonly (readonly [at: string, kind: string, breaks: boolean])[],
])[] = [
  [
    'a field of the body is newly required',
    ({ components }) => components.schemas.NewPortCall?.required.push('cargo'),
    'bookCall',
    [['body cargo', 'newly required', true]],
  ],
  [
    'an allowed value is gone',
    ({ components }) =>
      Object.assign(components.schemas.NewPortCall?.properties.cargo ?? {}, { enum: ['grain', 'mixed'] }),
    'bookCall',
    [
      ['body cargo', 'narrowed', true],
      ['response 201 cargo', 'narrowed', false],
    ],
  ],
  [
    'an allowed value is new',
    ({ components }) =>
      Object.assign(components.schemas.NewPortCall?.properties.cargo ?? {}, {
        enum: ['grain', 'timber', 'mixed', 'cars'],
      }),
    'bookCall',
    [
      ['body cargo', 'widened', false],
      ['response 201 cargo', 'widened', true],
    ],
  ],
  [
    'a type is another',
    ({ components }) => Object.assign(components.schemas.Vessel?.properties.draftM ?? {}, { type: 'string' }),
    'showVessel',
    [['response 200 draftM', 'changed', true]],
  ],
  [
    'a field of the response is gone',
    ({ components }) => delete components.schemas.Vessel?.properties.flag,
    'showVessel',
    [['response 200 flag', 'removed', true]],
  ],
  [
    'an operation is deprecated',
    ({ paths }) => Object.assign(paths['/vessels/{imo}']?.get ?? {}, { deprecated: true }),
    'showVessel',
    [['operation', 'changed', false]],
  ],
];
for (const [name, change, id, found] of changes) {
  test(`drift: ${name}`, async () => {
    const document = structuredClone(harbourDocument('http://127.0.0.1:4810')) as Document;
    const before = (await readJson(document)).operations;
    change(document);
    const drift = driftBetween(before, (await readJson(document)).operations).find((one) => one.operation === id);
    assert.deepEqual(
      drift?.fields.filter(({ what }) => !/at-|over/.test(what)).map(({ at, kind, breaks }) => [at, kind, breaks]),
      found,
      JSON.stringify(Object.keys(document.components.schemas)),
    );
  });
}

test('drift: an operation by another name is one removed and one added; the same document has none', async () => {
  const document = structuredClone(harbourDocument('http://127.0.0.1:4810')) as Document;
  const before = (await readJson(document)).operations;
  assert.deepEqual(driftBetween(before, before), []);
  Object.assign(document.paths['/vessels/{imo}']?.get ?? {}, { operationId: 'oneVessel' });
  assert.deepEqual(
    driftBetween(before, (await readJson(document)).operations).map(({ operation, kind }) => [operation, kind]),
    [
      ['oneVessel', 'added'],
      ['showVessel', 'removed'],
    ],
  );
});

test('links: by name and resource, as guesses; what the documentation links is none', async () => {
  const harbour = await readJson(harbourDocument('http://127.0.0.1:4810'));
  assert.deepEqual(linksOf(harbour.operation('bookCall'), harbour.index), [
    { name: 'imo', operation: 'listVessels', place: '$.items[*].imo', guess: true },
    { name: 'berth', operation: 'listBerths', place: '$.items[*].code', guess: true },
  ]);
  const pilots = await readSource(pilotSchema, 'p.graphql');
  assert.deepEqual(linksOf(pilots.operation('pilot'), pilots.index)[0]?.place, '$.data.pilots.edges[*].node.id');
  const stated = await readJson({
    openapi: '3.0.0',
    info: {},
    paths: {
      '/quays': {
        post: {
          operationId: 'make',
          tags: ['q'],
          responses: {
            201: {
              description: '',
              links: { one: { operationId: 'one', parameters: { 'path.quay': '$response.body#/number' } } },
            },
          },
        },
      },
      '/quays/{quay}': {
        get: {
          operationId: 'one',
          tags: ['q'],
          parameters: [{ name: 'quay', in: 'path', required: true, schema: { type: 'string' } }],
          responses: {},
        },
      },
    },
  });
  assert.deepEqual(linksOf(stated.operation('one'), stated.index), [
    { name: 'quay', operation: 'make', place: '$.number', guess: false },
  ]);
});

const field = (more: Partial<Field>): Field => ({ name: 'a', type: 'string', required: false, ...more });
const values: readonly (readonly [value: unknown, fields: readonly Field[], what: readonly string[]])[] = [
  [{ a: 'x' }, [field({})], []],
  [{ a: '10' }, [field({ type: 'number' })], ['$.a is a string, documented as number']],
  [{ a: 10 }, [field({ type: 'number' })], []],
  [{ a: 1.5 }, [field({ type: 'integer' })], ['$.a is a number, documented as integer']],
  [{ a: null }, [field({ type: 'string or null' })], []],
  [{ a: null }, [field({})], ['$.a is null, documented as string']],
  [{ brth: 1 }, [field({ name: 'berth' })], ['$.brth is not documented; documented is berth']],
  [{}, [field({ required: true })], ['$.a is documented as required, and missing']],
  [{ a: 'x' }, [field({ readOnly: true })], ['$.a is set by the vendor (read-only), and the request sends it']],
  [{ a: 'c' }, [field({ allowed: ['a', 'b'] })], ['$.a is "c", documented are a, b']],
  [{ a: 15 }, [field({ type: 'integer', limits: { 'at-most': 14 } })], ['$.a is 15, documented is at most 14']],
  [{ a: ['x', 1] }, [field({ type: 'array of object', fields: [field({ name: 'n' })] })], []],
  [
    { a: [{ n: 1 }] },
    [field({ type: 'array of object', fields: [field({ name: 'n' })] })],
    ['$.a[0].n is an integer, documented as string'],
  ],
  [
    { a: { k: 't', s: 1 } },
    [
      field({
        type: 'object',
        alternatives: [
          { name: 'G', fields: [field({ name: 'k' }), field({ name: 'w', required: true })] },
          { name: 'T', fields: [field({ name: 'k' }), field({ name: 's', type: 'integer' })] },
        ],
      }),
    ],
    [],
  ],
  [{ a: 1 }, [field({ type: 'ID!' })], []],
  [{ a: 'x' }, [field({ type: 'Int' })], ['$.a is a string, documented as Int']],
  [{ a: null }, [field({ type: 'Int!' })], ['$.a is null, documented as Int!']],
];
for (const [value, fields, what] of values)
  test(`${JSON.stringify(value)} against ${fields.map(({ type }) => type).join()}: ${what.join() || 'fits'}`, () =>
    assert.deepEqual(
      mismatches(value, fields).map((one) => `${one.at} ${one.what}`),
      what,
    ));

test('an overlay merges and removes at JSONPaths, and a broken one is told', async () => {
  const overlaid = async (actions: unknown): Promise<unknown> => {
    const uri = mainAddress('a.json');
    const main = await readPart(
      uri,
      'a.json',
      '{"paths": {"/a": {"get": {"summary": "A", "tags": ["x"]}, "put": {}}}}',
    );
    const text = stringify({ overlay: '1.0.0', info: { title: 'Notes', version: '1' }, actions });
    return (await withOverlay({ main, parts: new Map([[uri, main]]) }, text, 'docs/a.overlay.yaml')).main.content;
  };
  assert.deepEqual(
    await overlaid([
      { target: '$.paths["/a"].get', update: { summary: 'Ours', tags: ['y'], 'x-note': true } },
      { target: '$.paths["/a"].put', remove: true },
    ]),
    { paths: { '/a': { get: { summary: 'Ours', tags: ['x', 'y'], 'x-note': true } } } },
  );
  assert.deepEqual(
    await overlaid([
      { target: '$.paths["/a"].*', update: { 'x-note': { of: 'us' } } },
      { target: '$.paths["/a"].put["x-note"]', update: { also: true } },
    ]),
    {
      paths: {
        '/a': {
          get: { summary: 'A', tags: ['x'], 'x-note': { of: 'us' } },
          put: { 'x-note': { of: 'us', also: true } },
        },
      },
    },
    'what several targets get is not shared by them',
  );
  const main = await readPart(mainAddress('a.json'), 'a.json', '{"paths": {}}');
  const text = stringify({
    overlay: '1.0.0',
    info: { title: 'Notes', version: '1' },
    actions: [
      { target: '$.paths', update: { x: 1 } },
      { target: '$.path', remove: true },
    ],
  });
  assert.deepEqual((await withOverlay({ main, parts: new Map() }, text, 'docs/a.overlay.yaml')).warnings, [
    { at: 'docs/a.overlay.yaml/actions/1', what: 'the target $.path of the overlay matches nothing' },
  ]);
  await assert.rejects(overlaid([{ target: '$[', update: {} }]), /JSONPath|place|\$\[/);
  await assert.rejects(overlaid('soon'), /not an OpenAPI Overlay/);
});
