/** Values held against documented schemas: what is wrong is told once, where it stands, and nothing that may be is called wrong. */
import assert from 'node:assert/strict';
import { before, test } from 'node:test';
import { loadSchemaChecks, schemaMismatches } from '../../../src/core/documentation/changes/schema-mismatch.js';
import { asJsonSchema } from '../../../src/core/documentation/formats/openapi/json-schema.js';
import type { Value } from '../../../src/core/value/written.js';

before(loadSchemaChecks);

const told = (schema: Value, value: unknown): string[] =>
  schemaMismatches(value, asJsonSchema(schema) as object, (one) => typeof one === 'string' && one.includes('${')).map(
    ({ at, what }) => `${at} ${what}`,
  );

const text: Value = { type: 'string' };
const ship: Value = {
  type: 'object',
  required: ['kind', 'beam'],
  properties: { kind: { const: 'ship' }, beam: { type: 'number' } },
};
const boat: Value = {
  type: 'object',
  required: ['kind', 'oars'],
  properties: { kind: { const: 'boat' }, oars: { type: 'integer' } },
};

const cases: readonly (readonly [name: string, schema: Value, value: unknown, wanted: readonly string[]])[] = [
  ['the type of the whole', { type: 'array', items: text }, { a: 1 }, ['$ is an object, documented as array']],
  ['a scalar body', { type: 'integer' }, 'x', ['$ is a string, documented as integer']],
  [
    'a scalar item',
    { type: 'array', items: { type: 'integer' } },
    [1, 'two'],
    ['$[1] is a string, documented as integer'],
  ],
  [
    'a typed item of a map',
    { type: 'object', additionalProperties: { type: 'integer' } },
    { a: 1, b: 'x' },
    ['$.b is a string, documented as integer'],
  ],
  [
    'a pattern',
    { type: 'string', pattern: '^[NSW][0-9]$' },
    'X1',
    ['$ is "X1", documented as text that matches ^[NSW][0-9]$'],
  ],
  ['a format', { type: 'string', format: 'date-time' }, 'soon', ['$ is "soon", documented as date-time']],
  ['counts of items', { type: 'array', minItems: 2, maxItems: 3 }, [1], ['$ has 1 items, documented is at least 2']],
  [
    'an item twice',
    { type: 'array', uniqueItems: true },
    [1, 2, 1],
    ['$ has the same item twice, at 0 and 2; documented is no item twice'],
  ],
  [
    'limits as flags of draft 4',
    { type: 'number', minimum: 0, exclusiveMinimum: true },
    0,
    ['$ is 0, documented is over 0'],
  ],
  [
    'a tuple of an older draft',
    { type: 'array', items: [text, { type: 'integer' }], additionalItems: false },
    ['a', 'b', 3],
    ['$ must NOT have more than 2 items, as documented', '$[1] is a string, documented as integer'],
  ],
  [
    'no more names than documented',
    { type: 'object', properties: { a: text }, additionalProperties: false },
    { a: 'x', b: 1 },
    ['$.b is not documented'],
  ],
  ['any further names', { type: 'object', properties: { a: text }, additionalProperties: true }, { a: 'x', b: 1 }, []],
  [
    'the nearest shape, by what chooses it',
    { oneOf: [ship, boat] },
    { kind: 'boat', oars: 'two' },
    ['$.oars is a string, documented as integer'],
  ],
  [
    'a shape inside a list',
    { type: 'array', items: { anyOf: [ship, boat] } },
    [{ kind: 'ship', beam: 3 }, { kind: 'ship' }],
    ['$[1].beam is documented as required, and missing'],
  ],
  [
    'what stands beside the shapes',
    { type: 'object', required: ['name'], properties: { name: text }, oneOf: [ship, boat] },
    { kind: 'ship', beam: 2 },
    ['$.name is documented as required, and missing'],
  ],
  [
    'two shapes where one may hold',
    { oneOf: [text, { type: ['string', 'null'] }] },
    'x',
    ['$ fits several of the documented shapes, and only one may hold'],
  ],
  ['null where that is allowed', { type: 'string', nullable: true } as Value, null, []],
];

for (const [name, schema, value, wanted] of cases) {
  test(`a value against its schema: ${name}`, () => {
    assert.deepEqual(told(schema, value).sort(), [...wanted].sort());
  });
}

test('nothing is said of what is known only when it is sent', () => {
  const schema: Value = {
    type: 'object',
    required: ['a'],
    properties: { a: { type: 'integer' }, b: { type: 'array', uniqueItems: true, items: { enum: [1, 2] } } },
  };
  assert.deepEqual(told(schema, { a: '${nights}', b: ['${x}', '${x}'] }), []);
  assert.deepEqual(told({ oneOf: [ship, boat] }, { kind: 'ship', beam: '${beam}' }), []);
  assert.deepEqual(told(schema, { a: 'x', b: ['${x}', 3] }), [
    '$.a is a string, documented as integer',
    '$.b[1] is 3, documented are 1, 2',
  ]);
});

test('a schema of the vendor that cannot be used says nothing', () => {
  assert.deepEqual(schemaMismatches({ a: 1 }, { type: 'nonsense', properties: { a: { pattern: '(' } } }), []);
});
