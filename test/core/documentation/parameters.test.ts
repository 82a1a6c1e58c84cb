/** Parameters of every style: read from the documentation, drafted, resolved as they go over the wire, held against it. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { parse } from 'yaml';
import { readJson } from '../../support/documentation.js';

type Json = Readonly<Record<string, unknown>>;

const list = { type: 'array', items: { enum: ['red', 'green'] } };
/** A parameter, the line that is drafted for it where it is required, and where it is not. */
const cases: readonly (readonly [name: string, parameter: Json, required: unknown, optional: string])[] = [
  ['a list, repeated', { schema: list }, '${p}', 'p: [red] # array of string, red | green'],
  ['a list, joined', { schema: list, explode: false }, '${p | join(",")}', 'p: red # array of string, red | green'],
  [
    'pipes, which join by default',
    { schema: list, style: 'pipeDelimited' },
    '${p | join("|")}',
    'p: red # array of string, red | green',
  ],
  [
    'spaces',
    { schema: list, style: 'spaceDelimited', explode: false },
    '${p | join(" ")}',
    'p: red # array of string, red | green',
  ],
  [
    'pipes that repeat',
    { schema: list, style: 'pipeDelimited', explode: true },
    '${p}',
    'p: [red] # array of string, red | green',
  ],
  ['a list in a header', { in: 'header', schema: list }, '${p | join(",")}', 'p: red # array of string, red | green'],
  [
    'deepObject',
    {
      style: 'deepObject',
      schema: {
        type: 'object',
        required: ['lat'],
        properties: { lat: { type: 'number', minimum: 50 }, lon: { type: 'number' } },
      },
    },
    { lat: '${lat}' },
    'p: {lat: 50, lon: 0} # object',
  ],
  [
    'a value in JSON',
    { content: { 'application/json': { schema: { type: 'object', properties: { lit: { type: 'boolean' } } } } } },
    '${p | json}',
    `p: '{"lit":false}' # object, as application/json`,
  ],
];

for (const [name, own, required, optional] of cases) {
  test(`a parameter is drafted as its style wants it: ${name}`, async () => {
    const { draft } = await readJson({
      openapi: '3.1.0',
      info: { title: 'Buoys', version: '1' },
      paths: {
        '/a': {
          get: {
            operationId: 'wanted',
            parameters: [{ name: 'p', in: 'query', required: true, ...own }],
            responses: {},
          },
          put: { operationId: 'allowed', parameters: [{ name: 'p', in: 'query', ...own }], responses: {} },
        },
      },
    });
    const where = own.in === 'header' ? 'headers' : 'query';
    assert.deepEqual((parse(draft('wanted')) as Record<string, Json>)[where]?.p, required);
    assert.ok(
      draft('allowed')
        .split('\n')
        .some((line) => line === `#   ${optional}`),
      draft('allowed'),
    );
  });
}

test('what a documented example of the whole holds is told with each input', async () => {
  const { draft } = await readJson({
    openapi: '3.0.3',
    info: { title: 'Buoys', version: '1' },
    paths: {
      '/a': {
        post: {
          operationId: 'place',
          requestBody: {
            content: {
              'application/json': {
                schema: {
                  type: 'object',
                  required: ['name', 'at'],
                  properties: {
                    name: { type: 'string' },
                    at: {
                      type: 'object',
                      required: ['lat'],
                      properties: { lat: { type: 'number' }, lon: { type: 'number' } },
                    },
                    tags: { type: 'object' },
                  },
                },
                examples: { usual: { value: { name: 'Fairway 3', at: { lat: 54.1, lon: 7.9 } } } },
              },
            },
          },
          responses: {},
        },
      },
    },
  });
  const text = draft('place');
  assert.match(text, /name:\n {4}type: string\n {4}# such as Fairway 3/);
  assert.match(text, /lat:\n {4}type: number\n {4}# such as 54.1/);
  assert.match(text, /# lon: 7\.9 # number/);
  assert.match(text, /# tags: \{\} # object/);
});
