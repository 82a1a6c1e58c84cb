/** Reading OpenAPI: a document of every feature against an independent count, and documents that are faulty. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { parse } from 'yaml';
import { mismatches } from '../../../src/core/documentation/changes/mismatch.js';
import { findOperations } from '../../../src/core/documentation/explore/search.js';
import { asJsonSchema } from '../../../src/core/documentation/formats/openapi/json-schema.js';
import { limitsText } from '../../../src/core/documentation/model/limits-text.js';
import { harbourDocument } from '../../../src/standin/harbour/openapi.js';
import { readJson, readSource } from '../../support/documentation.js';

const harbour = harbourDocument('http://127.0.0.1:4810');

test('every operation of the harbour is read, counted without the reader', async () => {
  const { paths } = harbour as { paths: Record<string, Record<string, unknown>> };
  const methods = new Set(['get', 'put', 'post', 'patch', 'delete']);
  const counted = Object.values(paths).flatMap((item) => Object.keys(item).filter((key) => methods.has(key)));
  const { operations, documentation } = await readJson(harbour);
  const { warnings, format, version, title } = documentation;
  assert.equal(operations.length, counted.length);
  assert.deepEqual(warnings, []);
  assert.deepEqual([format, version, title], ['OpenAPI', '3.1.0', 'Larkhaven Harbour']);
});

test('an operation has its parts: parameters, body fields, responses, authentication, path behind the origin', async () => {
  const { operation } = await readJson(harbour);
  const book = operation('bookCall');
  assert.deepEqual(
    [book.method, book.path, book.group, book.changes],
    ['POST', '/v1/vessels/{imo}/calls', 'calls', true],
  );
  assert.deepEqual(
    book.parameters.map(({ name, in: where, required, limits }) => [name, where, required, limits?.matches]),
    [['imo', 'path', true, '^[0-9]{7}$']],
  );
  const nights = book.body?.fields.find(({ name }) => name === 'nights');
  assert.deepEqual(
    [nights?.type, nights?.required, nights?.default, nights && limitsText(nights)],
    ['integer', true, undefined, '1 to 14'],
  );
  const notify = book.body?.fields.find(({ name }) => name === 'notify');
  assert.deepEqual(
    [notify?.type, notify?.allowed, notify && limitsText(notify)],
    ['array of string', ['agent', 'pilot', 'customs'], 'agent | pilot | customs, at most 3 items, no item twice'],
  );
  assert.deepEqual(book.responses.map(({ status }) => status).sort(), ['201', '401', '404', '409', '422']);
  const made = book.responses.find(({ status }) => status === '201');
  assert.equal(made?.content?.fields.find(({ name }) => name === 'id')?.readOnly, true);
  assert.equal(made?.content?.documentedExample, true);
  assert.deepEqual(
    made?.headers.map(({ name }) => name),
    ['Location'],
  );
  assert.deepEqual(
    book.security.map(({ schemes }) => schemes.map(({ name }) => name)),
    [['deskToken']],
  );
  assert.deepEqual(operation('logIn').security, []);
});

test('shapes within allOf, chosen by what all of them extend; types that only values tell; examples within limits, and no end', async () => {
  const { operation } = await readJson({
    openapi: '3.1.0',
    info: { title: 'Buoys', version: '1' },
    paths: {
      '/buoys/{id}': {
        get: {
          operationId: 'show',
          security: [{ office: ['read', 'list'] }],
          parameters: [{ name: 'colour', in: 'query', schema: { type: 'array', items: { enum: ['red', 'green'] } } }],
          responses: {
            200: {
              description: 'ok',
              content: { 'application/json': { schema: { $ref: '#/components/schemas/Buoy' } } },
            },
          },
        },
      },
    },
    components: {
      securitySchemes: { office: { type: 'oauth2', flows: { clientCredentials: {} } } },
      schemas: {
        Base: {
          type: 'object',
          required: ['kind'],
          properties: { kind: { type: 'string' }, depth: { type: 'number', exclusiveMinimum: 2, maximum: 9 } },
          discriminator: { propertyName: 'kind', mapping: { lit: '#/components/schemas/Lit' } },
        },
        Lit: { allOf: [{ $ref: '#/components/schemas/Base' }, { properties: { colour: { enum: ['red', 'green'] } } }] },
        Bell: { allOf: [{ $ref: '#/components/schemas/Base' }, { properties: { tone: { const: 7 } } }] },
        Any: { oneOf: [{ $ref: '#/components/schemas/Lit' }, { $ref: '#/components/schemas/Bell' }] },
        Buoy: {
          allOf: [
            { $ref: '#/components/schemas/Any' },
            {
              properties: {
                id: { type: 'string', minLength: 6 },
                page: { type: 'string', format: 'uri' },
                next: { anyOf: [{ $ref: '#/components/schemas/Buoy' }, { type: 'null' }] },
              },
            },
          ],
        },
      },
    },
  });
  const { parameters, responses, security } = operation('show');
  assert.equal(security[0]?.schemes[0]?.about, 'OAuth 2.0 (clientCredentials), scopes read list');
  assert.equal(parameters[0]?.type, 'array of string');
  const content = responses[0]?.content;
  assert.deepEqual(
    content?.alternatives?.map(({ name, when, fields }) => [
      name,
      when,
      fields.map((one) => `${one.name}: ${one.type}`),
    ]),
    [
      [
        'Lit',
        'kind: lit',
        ['id: string', 'page: string (uri)', 'next: object or null', 'kind: string', 'depth: number', 'colour: string'],
      ],
      [
        'Bell',
        'kind: Bell',
        ['id: string', 'page: string (uri)', 'next: object or null', 'kind: string', 'depth: number', 'tone: integer'],
      ],
    ],
  );
  assert.deepEqual(content?.example, {
    id: 'textxx',
    page: 'https://harbour.example/',
    kind: 'lit',
    depth: 3,
    colour: 'red',
  });
  // Each shape may stand there, with what is beside them.
  const wrong = (value: unknown): string[] =>
    (content?.alternatives ?? [])
      .map(({ fields }) => mismatches(value, fields, { response: true }).map(({ at, what }) => `${at} ${what}`))
      .sort((a, b) => a.length - b.length)[0] ?? [];
  assert.deepEqual(wrong({ id: 'B-0001', kind: 'Bell', tone: 7, next: null }), []);
  assert.deepEqual(wrong({ id: 'B-0001', kind: 'lit', colour: 'blue' }), [
    '$.colour is "blue", documented are red, green',
  ]);
});

test('what an anchor names is read wherever an alias stands; a word with an ampersand is none; a byte order mark is no key', async () => {
  const berth = '{type: object, properties: {code: {type: string}, bollard: {$ref: "#/components/schemas/Bollard"}}}';
  const text = (named: string, again: string): string => `\uFEFFopenapi: 3.0.3
info: {title: Ropes & bollards, version: "1"}
components:
  schemas:
    Bollard: {type: object, properties: {load: {type: integer}}}
    Berth: ${named}
paths:
  /berths:
    put:
      operationId: moor
      description: quay &c, fish&chips
      requestBody: {content: {application/json: {schema: ${again}}}}
      responses: {}
`;
  const [one, other] = [
    await readSource(text(`&berth ${berth}`, '*berth'), 'a.yaml'),
    await readSource(text(berth, berth), 'b.yaml'),
  ];
  assert.deepEqual([one.documentation.title, one.documentation.warnings], ['Ropes & bollards', []]);
  assert.deepEqual(one.operations, other.operations);
  const fields = one.operation('moor').body?.fields ?? [];
  assert.deepEqual(
    fields.flatMap((field) => [field.name, ...(field.fields ?? []).map(({ name }) => name)]),
    ['code', 'bollard', 'load'],
  );
});

test('YAML and JSON give the same', async () => {
  const yaml =
    'openapi: 3.0.3\ninfo: {title: T, version: "1"}\npaths:\n  /a: {get: {operationId: a, responses: {200: {description: ok}}}}\n';
  const json = {
    openapi: '3.0.3',
    info: { title: 'T', version: '1' },
    paths: { '/a': { get: { operationId: 'a', responses: { 200: { description: 'ok' } } } } },
  };
  const [one, other] = [await readSource(yaml, 'x.yaml'), await readSource(JSON.stringify(json), 'x.json')];
  assert.deepEqual(one.operations, other.operations);
  assert.equal(one.operations.length, 1);
});

const document30 = {
  openapi: '3.0.1',
  info: { title: 'Lights', version: '1' },
  servers: [{ url: 'https://{region}.larkhaven.example/lights/', variables: { region: { default: 'north' } } }],
  components: {
    parameters: {
      Page: { name: 'page', in: 'query', schema: { type: 'integer', minimum: 0, exclusiveMinimum: true } },
    },
    schemas: {
      Light: {
        allOf: [
          { $ref: '#/components/schemas/Thing' },
          {
            type: 'object',
            required: ['colour'],
            properties: {
              colour: { type: 'string', enum: ['red', 'green'], nullable: true },
              neighbours: { type: 'array', items: { $ref: '#/components/schemas/Light' } },
            },
          },
        ],
      },
      Thing: { type: 'object', required: ['id'], properties: { id: { type: 'string', readOnly: true } } },
      Loop: { $ref: '#/components/schemas/Loop' },
    },
    securitySchemes: { key: { type: 'apiKey', in: 'header', name: 'X-Key' } },
  },
  paths: {
    '/lights/{id}': {
      get: {
        parameters: [{ $ref: '#/components/parameters/Page' }],
        security: [{ key: [] }, {}],
        responses: {
          '2XX': {
            description: 'ok',
            content: { 'application/json': { schema: { $ref: '#/components/schemas/Light' } } },
          },
        },
      },
      put: {
        requestBody: { content: { 'application/json': { schema: { $ref: '#/components/schemas/Light' } } } },
        responses: {},
      },
    },
  },
};

test('OpenAPI 3.0: allOf, nullable, boolean limits, recursion, optional authentication, server variables', async () => {
  const { documentation, operation } = await readJson(document30);
  const show = operation('get-lights-id');
  assert.equal(show.path, '/lights/lights/{id}');
  assert.deepEqual(show.security, []);
  const page = show.parameters.find(({ name }) => name === 'page');
  assert.equal(page && limitsText(page), 'over 0');
  const fields = show.responses[0]?.content?.fields ?? [];
  assert.deepEqual(
    fields.map(({ name, required }) => [name, required]),
    [
      ['id', true],
      ['colour', true],
      ['neighbours', false],
    ],
  );
  assert.equal(fields[1]?.type, 'string or null');
  assert.equal(fields[2]?.recursive, 'Light');
  assert.deepEqual(
    (
      asJsonSchema(documentation.definitions.get('#/components/schemas/Light')) as {
        allOf: { properties: { colour: unknown } }[];
      }
    ).allOf[1]?.properties.colour,
    {
      type: ['string', 'null'],
      enum: ['red', 'green', null],
    },
  );
  assert.deepEqual(
    documentation.warnings.map(({ what }) => what),
    ['the path parameter id is not described', 'the path parameter id is not described'],
  );
});

const faults: readonly (readonly [name: string, paths: unknown, warns: RegExp, left: number])[] = [
  [
    'a dangling $ref',
    { '/a': { get: { parameters: [{ $ref: '#/components/parameters/No' }], responses: {} } } },
    /leads nowhere/,
    1,
  ],
  [
    'a $ref to another file',
    { '/a': { get: { parameters: [{ $ref: 'other.yaml#/x' }], responses: {} } } },
    /was not read/,
    1,
  ],
  [
    'a $ref that leads to itself',
    { '/a': { get: { responses: { 200: { $ref: '#/paths/~1a/get/responses/200' } } } } },
    /back to itself/,
    1,
  ],
  [
    'an operationId that stands twice',
    { '/a': { get: { operationId: 'x', responses: {} }, put: { operationId: 'x', responses: {} } } },
    /stands twice/,
    2,
  ],
  ['an operation that is a text', { '/a': { get: 'soon', put: { responses: {} } } }, /not a map/, 1],
  ['a path that is a list', { '/a': [], '/b': { get: { responses: {} } } }, /not a map of methods/, 1],
  ['a parameter without a name', { '/a': { get: { parameters: [{ in: 'query' }], responses: {} } } }, /no name/, 1],
  ['responses that are a list', { '/a': { get: { responses: [] } } }, /responses are not a map/, 1],
  [
    'a response without a status',
    { '/a': { get: { responses: { ok: { description: 'ok' } } } } },
    /ok is no status/,
    1,
  ],
];
test('faulty parameters of version 2.0 are told; extensions among the responses are no responses', async () => {
  const { operation, documentation } = await readJson({
    swagger: '2.0',
    info: { title: 'T', version: '1' },
    paths: {
      '/a': {
        parameters: 'none',
        get: { operationId: 'a', parameters: [7], responses: { 200: { description: 'ok' }, 'x-more': { a: 1 } } },
      },
    },
  });
  assert.deepEqual(
    documentation.warnings.map(({ at, what }) => `${at} ${what}`),
    ['/paths/~1a/get parameters is not a list', '/paths/~1a/get a parameter is not a map'],
  );
  assert.deepEqual(
    operation('a').responses.map(({ status }) => status),
    ['200'],
  );
});
for (const [name, paths, warns, left] of faults) {
  test(`${name} loses only itself`, async () => {
    const { operations, documentation } = await readJson({ openapi: '3.1.0', info: {}, paths });
    const { warnings } = documentation;
    assert.equal(operations.length, left);
    assert.ok(
      warnings.some(({ what, at }) => warns.test(what) && at.startsWith('/')),
      JSON.stringify(warnings),
    );
  });
}

const unusable: readonly (readonly [name: string, text: string, says: RegExp])[] = [
  ['other JSON', '{"name": "x"}', /known format/],
  ['broken JSON', '{"openapi": "3.1.0",\n "paths": }', /well-formed JSON/],
  ['broken YAML', 'openapi: 3.1.0\npaths: {a: [}\n', /well-formed YAML/],
  ['an older version', '{"swagger": "1.2", "paths": {}}', /OpenAPI 1.2 is not supported/],
  ['paths of the wrong type', '{"openapi": "3.1.0", "paths": []}', /paths are not a map/],
  ['nothing', '', /known format/],
  [
    'aliases that multiply',
    `a0: &a0 [x]\n${Array.from({ length: 30 }, (_, n) => `a${n + 1}: &a${n + 1} [*a${n}, *a${n}, *a${n}]`).join('\n')}\n`,
    /expands too far/,
  ],
];
for (const [name, text, says] of unusable) {
  test(`${name} is no documentation`, () => assert.rejects(readSource(text, 'x.txt'), says));
}

test('a document 10,000 levels deep neither hangs nor ends the program', async () => {
  const deep = `${'{"properties":{"a":'.repeat(10_000)}{}${'}}'.repeat(10_000)}`;
  const text = `{"openapi":"3.1.0","info":{},"paths":{"/a":{"post":{"requestBody":{"content":{"application/json":{"schema":${deep}}}},"responses":{}}}}}`;
  await assert.rejects(readSource(text, 'x.json'), { code: 'document-too-large' });
});

test('operations are found by words, the best first, with where they were found', async () => {
  const lines = new Map([['harbour', (await readJson(harbour)).index]]);
  const ids = (...words: string[]): string[] => findOperations(lines, words).matches.map(({ id }) => id);
  assert.equal(ids('book')[0], 'bookCall');
  assert.equal(ids('berths')[0], 'listBerths');
  assert.ok(ids('pilot').includes('bookCall'));
  assert.match(findOperations(lines, ['fees']).matches[0]?.in.join() ?? '', /^field (?:items\.)?fees$/);
  assert.equal(ids('DELETE', 'call')[0], 'cancelCall');
  const partial = findOperations(lines, ['book', 'zeppelin']);
  assert.equal(partial.complete, false);
  assert.equal(partial.matches[0]?.id, 'bookCall');
  assert.deepEqual(findOperations(lines, ['zeppelin']).matches, []);
  const mistyped = findOperations(lines, ['vesell']);
  assert.match(mistyped.read.get('vesell') ?? '', /^vessels?$/);
  assert.ok(mistyped.complete);
});

test('a draft has required parts active, optional ones as comments, and nothing that the server sets', async () => {
  const { draft } = await readJson(harbour);
  const text = draft('bookCall', { schema: '../x.json', sessions: ['agent'] });
  const file = parse(text) as Record<string, Record<string, unknown>>;
  assert.match(text, /^# yaml-language-server: \$schema=\.\.\/x\.json\n/);
  assert.deepEqual(Object.keys(file.inputs ?? {}), ['imo', 'berth', 'nights']);
  assert.deepEqual(file.body, { json: { berth: '${berth}', nights: '${nights}' } });
  assert.deepEqual(file.inputs?.nights, {
    about: 'Nights at the berth',
    type: 'integer',
    'at-least': 1,
    'at-most': 14,
  });
  assert.equal(file.url, '${origin}/v1/vessels/{imo}/calls');
  assert.equal(file.session, 'agent');
  assert.deepEqual(file.expect, {
    status: 201,
    'header.content-type': { 'starts-with': 'application/json' },
    $: { schema: 'documented' },
  });
  assert.match(text, /^ {4}# cargo: mixed # string, grain \| timber \| mixed, default mixed: What is on board$/m);
  assert.match(text, /^# {3}id: \$\.id$/m);
  assert.doesNotMatch(text, /created|updated|fees/);
});

test('a draft of every operation is a well-formed file', async () => {
  for (const source of [await readJson(harbour), await readJson(document30)]) {
    for (const { id } of source.operations) {
      const text = source.draft(id);
      assert.equal((parse(text) as Record<string, unknown>).operation, `harbour/${id}`, text);
    }
  }
});

const document20 = {
  swagger: '2.0',
  info: { title: 'Old tides', version: '0.9' },
  host: 'old.larkhaven.example',
  basePath: '/v0',
  schemes: ['http', 'https'],
  consumes: ['application/json'],
  produces: ['application/json'],
  securityDefinitions: { desk: { type: 'basic' } },
  security: [{ desk: [] }],
  parameters: { Station: { name: 'station', in: 'path', required: true, type: 'string', enum: ['bar', 'pool'] } },
  definitions: {
    Level: {
      type: 'object',
      required: ['at', 'metres'],
      properties: {
        at: { type: 'string', format: 'date-time' },
        metres: { type: 'number' },
        id: { type: 'string', readOnly: true },
      },
    },
  },
  paths: {
    '/tides/{station}': {
      parameters: [{ $ref: '#/parameters/Station' }],
      get: {
        operationId: 'levels',
        parameters: [
          { name: 'days', in: 'query', type: 'array', items: { type: 'integer' }, collectionFormat: 'multi' },
        ],
        responses: { 200: { description: 'ok', schema: { type: 'array', items: { $ref: '#/definitions/Level' } } } },
      },
      post: {
        operationId: 'report',
        parameters: [{ name: 'level', in: 'body', required: true, schema: { $ref: '#/definitions/Level' } }],
        responses: {
          201: {
            description: 'made',
            examples: { 'application/json': { id: 'L1' } },
            schema: { $ref: '#/definitions/Level' },
          },
        },
      },
      put: {
        operationId: 'upload',
        consumes: ['multipart/form-data'],
        parameters: [{ name: 'chart', in: 'formData', type: 'file', required: true }],
        responses: {},
      },
    },
  },
};

test('OpenAPI 2.0: body and form parameters, types of parameters, list styles, definitions, basic authentication', async () => {
  const { operation, operations, documentation, index } = await readJson(document20);
  assert.equal(operations.length, 3);
  assert.deepEqual(documentation.warnings, []);
  assert.deepEqual(
    documentation.servers.map(({ url }) => url),
    ['https://old.larkhaven.example/v0'],
  );
  const levels = operation('levels');
  assert.equal(levels.path, '/v0/tides/{station}');
  assert.deepEqual(
    levels.parameters.map(({ name, in: where, type, lists, allowed }) => [name, where, type, lists, allowed]),
    [
      ['station', 'path', 'string', undefined, ['bar', 'pool']],
      ['days', 'query', 'array of integer', 'repeated', undefined],
    ],
  );
  assert.match(levels.security[0]?.schemes[0]?.about ?? '', /basic/);
  const report = operation('report');
  assert.equal(report.body?.required, true);
  assert.deepEqual(
    report.body?.fields.map(({ name }) => name),
    ['at', 'metres', 'id'],
  );
  assert.deepEqual(report.responses[0]?.content?.example, { id: 'L1' });
  assert.equal(operation('upload').body?.type, 'multipart/form-data');
  assert.deepEqual(index.types(), ['Level']);
  assert.deepEqual(
    index.type('Level')?.fields.map(({ name }) => name),
    ['at', 'metres', 'id'],
  );
});

test('a document in several files: references between them, relative and back, and one that is missing', async () => {
  const main = {
    openapi: '3.1.0',
    info: { title: 'Split' },
    paths: {
      '/berths': { $ref: 'paths/berths.yaml#/berths' },
      '/gone': { get: { operationId: 'gone', responses: { 200: { $ref: 'nowhere.yaml#/x' } } } },
    },
    components: { schemas: { Code: { type: 'string', pattern: '^N' } } },
  };
  const { operation, operations, documentation, refused } = await readSource(JSON.stringify(main), 'main.json', {
    others: {
      'paths/berths.yaml':
        'berths:\n  get:\n    operationId: listBerths\n    responses:\n      200:\n        description: ok\n        content: {application/json: {schema: {$ref: "../schemas/berth.yaml"}}}\n',
      'schemas/berth.yaml':
        'type: object\nproperties:\n  code: {$ref: "../main.json#/components/schemas/Code"}\n  next: {$ref: "#"}\n',
    },
  });
  assert.equal(operations.length, 2);
  const fields = operation('listBerths').responses[0]?.content?.fields ?? [];
  assert.deepEqual(
    fields.map(({ name, limits, recursive }) => [name, limits?.matches, recursive]),
    [
      ['code', '^N', undefined],
      ['next', undefined, 'berth.yaml#'],
    ],
  );
  assert.deepEqual(refused, [{ name: 'nowhere.yaml', why: 'it is not there' }]);
  assert.deepEqual(
    documentation.warnings.map(({ at, what }) => [at, what]),
    [['/paths/~1gone/get/responses/200', '$ref nowhere.yaml#/x leads to a document that was not read']],
  );
});

test('alternatives of oneOf have their names and what chooses them; callbacks, webhooks and extensions are listed', async () => {
  const { operation, documentation } = await readJson({
    openapi: '3.1.0',
    info: { title: 'Cargo' },
    webhooks: { moored: { post: {} } },
    components: {
      schemas: {
        Grain: {
          type: 'object',
          required: ['kind', 'tonnes'],
          properties: { kind: { const: 'grain' }, tonnes: { type: 'number' } },
        },
        Timber: {
          type: 'object',
          required: ['kind'],
          properties: { kind: { const: 'timber' }, stems: { type: 'integer' } },
        },
      },
    },
    paths: {
      '/cargo': {
        post: {
          operationId: 'load',
          'x-desk': { opens: '08:00' },
          callbacks: { loaded: { '{$request.body#/response}': { post: {} } } },
          requestBody: {
            content: {
              'application/json': {
                schema: {
                  oneOf: [{ $ref: '#/components/schemas/Grain' }, { $ref: '#/components/schemas/Timber' }],
                  discriminator: { propertyName: 'kind', mapping: { grain: '#/components/schemas/Grain' } },
                },
              },
            },
          },
          responses: {},
        },
      },
    },
  });
  const load = operation('load');
  assert.deepEqual(
    load.body?.alternatives?.map(({ name, when, fields }) => [name, when, fields.map((field) => field.name)]),
    [
      ['Grain', 'kind: grain', ['kind', 'tonnes']],
      ['Timber', 'kind: Timber', ['kind', 'stems']],
    ],
  );
  assert.deepEqual(load.callbacks, ['loaded: POST {$request.body#/response}']);
  assert.deepEqual(load.extensions, { 'x-desk': { opens: '08:00' } });
  assert.deepEqual(documentation.webhooks, ['POST moored']);
});

test('schemas that hold themselves, without a property between, end; a map tells the type of its values', async () => {
  const properties = {
    lists: { $ref: '#/components/schemas/Lists' },
    maps: { $ref: '#/components/schemas/Maps' },
    shapes: { $ref: '#/components/schemas/Shapes' },
    rates: { type: 'object', additionalProperties: { type: 'number' } },
    free: { type: 'object', additionalProperties: true },
    berths: { type: 'object', additionalProperties: { type: 'array', items: { type: 'string', format: 'date' } } },
    choice: { $ref: '#/components/schemas/Choice' },
  };
  const { operation, index, draft } = await readJson({
    openapi: '3.0.3',
    paths: {
      '/a': {
        post: {
          operationId: 'a',
          requestBody: {
            content: {
              'application/json': { schema: { type: 'object', required: Object.keys(properties), properties } },
            },
          },
          responses: { 200: { description: 'A', content: { 'application/json': { schema: properties.lists } } } },
        },
      },
    },
    components: {
      schemas: {
        Lists: { type: 'array', items: { $ref: '#/components/schemas/Lists' } },
        Maps: { type: 'object', additionalProperties: { $ref: '#/components/schemas/Maps' } },
        Shapes: { oneOf: [{ $ref: '#/components/schemas/Shapes' }, { type: 'string' }], properties: { code: {} } },
        Choice: { oneOf: Array.from({ length: 60 }, () => ({ $ref: '#/components/schemas/Choice' })) },
      },
    },
  });
  assert.deepEqual(
    operation('a').body?.fields.map(({ name, type }) => `${name}: ${type}`),
    [
      'lists: array of array of array of array of array of any',
      'maps: object of object of object of object of object',
      'shapes: object',
      'rates: object of number',
      'free: object',
      'berths: object of array of string (date)',
      'choice: any',
    ],
  );
  assert.deepEqual(operation('a').responses[0]?.content?.fields, []);
  for (const name of ['Lists', 'Maps', 'Shapes', 'Choice']) assert.ok(index.type(name));
  assert.match(draft('a'), /rates: \$\{rates\}/);
});
