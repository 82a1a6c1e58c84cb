/** Reading OpenAPI: a document of every feature against an independent count, and documents that are faulty. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { parse } from 'yaml';
import { draftRequest } from '../../src/core/documentation/draft.js';
import { readIndex, writeIndex } from '../../src/core/documentation/index-file.js';
import { limitsText } from '../../src/core/documentation/limits-text.js';
import type { Documentation, Operation } from '../../src/core/documentation/model.js';
import { parseDocumentation } from '../../src/core/documentation/parse.js';
import { findOperations } from '../../src/core/documentation/search.js';
import { harbourDocument } from '../../src/standin/harbour/openapi.js';

const read = (document: unknown): Documentation =>
  parseDocumentation(JSON.stringify(document), 'harbour', 'harbour.json').documentation;
const harbour = harbourDocument('http://127.0.0.1:4810');
const operation = (documentation: Documentation, id: string): Operation => {
  const found = documentation.operations.find((one) => one.id === id);
  assert.ok(found, `${id} is there`);
  return found;
};

test('every operation of the harbour is read, counted without the reader', () => {
  const { paths } = harbour as { paths: Record<string, Record<string, unknown>> };
  const methods = new Set(['get', 'put', 'post', 'patch', 'delete']);
  const counted = Object.values(paths).flatMap((item) => Object.keys(item).filter((key) => methods.has(key)));
  const { operations, warnings, format, version, title } = read(harbour);
  assert.equal(operations.length, counted.length);
  assert.deepEqual(warnings, []);
  assert.deepEqual([format, version, title], ['OpenAPI', '3.1.0', 'Larkhaven Harbour']);
});

test('an operation has its parts: parameters, body fields, answers, authentication, path behind the origin', () => {
  const book = operation(read(harbour), 'bookCall');
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
  assert.deepEqual(book.answers.map(({ status }) => status).sort(), ['201', '401', '404', '409', '422']);
  const made = book.answers.find(({ status }) => status === '201');
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
  assert.deepEqual(operation(read(harbour), 'logIn').security, []);
});

test('YAML and JSON give the same', () => {
  const yaml =
    'openapi: 3.0.3\ninfo: {title: T, version: "1"}\npaths:\n  /a: {get: {operationId: a, responses: {200: {description: ok}}}}\n';
  const json = {
    openapi: '3.0.3',
    info: { title: 'T', version: '1' },
    paths: { '/a': { get: { operationId: 'a', responses: { 200: { description: 'ok' } } } } },
  };
  const one = parseDocumentation(yaml, 'x', 'x.yaml');
  assert.equal(one.notation, 'yaml');
  assert.deepEqual(one.documentation, parseDocumentation(JSON.stringify(json), 'x', 'x.json').documentation);
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

test('OpenAPI 3.0: allOf, nullable, boolean limits, recursion, optional authentication, server variables', () => {
  const documentation = read(document30);
  const show = operation(documentation, 'get-lights-id');
  assert.equal(show.path, '/lights/lights/{id}');
  assert.deepEqual(show.security, []);
  const page = show.parameters.find(({ name }) => name === 'page');
  assert.equal(page && limitsText(page), 'over 0');
  const fields = show.answers[0]?.content?.fields ?? [];
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
    (documentation.definitions.Light as { allOf: { properties: { colour: unknown } }[] }).allOf[1]?.properties.colour,
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
    /another document/,
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
  ['answers that are a list', { '/a': { get: { responses: [] } } }, /answers are not a map/, 1],
];
for (const [name, paths, warns, left] of faults) {
  test(`${name} loses only itself`, () => {
    const { operations, warnings } = read({ openapi: '3.1.0', info: {}, paths });
    assert.equal(operations.length, left);
    assert.ok(
      warnings.some(({ what, at }) => warns.test(what) && at.startsWith('/')),
      JSON.stringify(warnings),
    );
  });
}

const unusable: readonly (readonly [name: string, text: string, says: RegExp])[] = [
  ['a web page', '<!doctype html><html></html>', /known format/],
  ['other JSON', '{"name": "x"}', /known format/],
  ['broken JSON', '{"openapi": "3.1.0",\n "paths": }', /well-formed JSON/],
  ['broken YAML', 'openapi: 3.1.0\npaths: {a: [}\n', /well-formed YAML/],
  ['an older version', '{"swagger": "2.0", "paths": {}}', /OpenAPI 2.0 is not read/],
  ['paths of the wrong type', '{"openapi": "3.1.0", "paths": []}', /paths are not a map/],
  ['nothing', '', /known format/],
  [
    'aliases that multiply',
    `a0: &a0 [x]\n${Array.from({ length: 30 }, (_, n) => `a${n + 1}: &a${n + 1} [*a${n}, *a${n}, *a${n}]`).join('\n')}\n`,
    /multiplied/,
  ],
];
for (const [name, text, says] of unusable) {
  test(`${name} is no documentation`, () => assert.throws(() => parseDocumentation(text, 'x', 'x.txt'), says));
}

test('a document 10,000 levels deep neither hangs nor ends the program', () => {
  const deep = `${'{"properties":{"a":'.repeat(10_000)}{}${'}}'.repeat(10_000)}`;
  const text = `{"openapi":"3.1.0","info":{},"paths":{"/a":{"post":{"requestBody":{"content":{"application/json":{"schema":${deep}}}},"responses":{}}}}}`;
  try {
    assert.equal(parseDocumentation(text, 'x', 'x.json').documentation.operations.length, 1);
  } catch (error) {
    assert.equal((error as { code?: string }).code, 'document-too-large');
  }
});

test('the index gives back every operation, and is refused for another snapshot', () => {
  const documentation = read(harbour);
  const text = writeIndex(documentation, 'stamp-1');
  const index = readIndex(text, 'stamp-1');
  assert.ok(index);
  assert.deepEqual([...index.operations()], JSON.parse(JSON.stringify(documentation.operations)));
  assert.equal(index.operation('bookCall')?.path, '/v1/vessels/{imo}/calls');
  assert.equal(index.operation('book'), undefined);
  assert.equal(readIndex(text, 'stamp-2'), undefined);
});

test('operations are found by words, the best first, with where they were found', () => {
  const { operations } = read(harbour);
  const ids = (...words: string[]): string[] =>
    findOperations(operations, words).matches.map((match) => match.operation.id);
  assert.equal(ids('book')[0], 'bookCall');
  assert.equal(ids('berths')[0], 'listBerths');
  assert.ok(ids('pilot').includes('bookCall'));
  assert.deepEqual(findOperations(operations, ['fees']).matches[0]?.in, ['field fees']);
  assert.deepEqual(ids('DELETE', 'call'), ['cancelCall']);
  const partial = findOperations(operations, ['book', 'submarine']);
  assert.equal(partial.complete, false);
  assert.equal(partial.matches[0]?.operation.id, 'bookCall');
  assert.deepEqual(findOperations(operations, ['submarine']).matches, []);
});

test('a draft has required parts active, optional ones as comments, and nothing that the server sets', () => {
  const text = draftRequest(operation(read(harbour), 'bookCall'), { schema: '../x.json', session: 'agent' });
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
  assert.match(text, /^ {4}# cargo: mixed {3}# string, grain \| timber \| mixed, default mixed: What is on board$/m);
  assert.match(text, /^ {2}# id: \$\.id$/m);
  assert.doesNotMatch(text, /created|updated|fees/);
});

test('a draft of every operation is a well-formed file', () => {
  for (const one of [...read(harbour).operations, ...read(document30).operations]) {
    const text = draftRequest(one, { schema: 'x.json' });
    const file = parse(text) as Record<string, unknown>;
    assert.equal(file.operation, `harbour/${one.id}`, text);
  }
});
