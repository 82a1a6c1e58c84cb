/** Values made up for a schema: judged by the validator, whatever the seed. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { loadSchemaChecks, schemaMismatches } from '../../../src/core/documentation/changes/schema-mismatch.js';
import { inventedValue } from '../../../src/core/rehearsal/invent.js';
import type { Value } from '../../../src/core/value/written.js';

const schemas: Readonly<Record<string, object>> = {
  'limits of numbers': { type: 'integer', minimum: 3, maximum: 4 },
  'limits that are left out': { type: 'number', exclusiveMinimum: 0, exclusiveMaximum: 1, multipleOf: 0.25 },
  'a large step': { type: 'integer', multipleOf: 7, minimum: 100 },
  'only an upper limit': { type: 'integer', maximum: -5 },
  'a pattern': { type: 'string', pattern: '^PC-[0-9]{4}$' },
  'a pattern with a length': { type: 'string', pattern: '^[a-z]*$', minLength: 30, maxLength: 40 },
  'lengths of a text': { type: 'string', minLength: 60, maxLength: 61 },
  'a short text': { type: 'string', maxLength: 2 },
  formats: {
    type: 'object',
    properties: Object.fromEntries(
      ['date-time', 'date', 'time', 'duration', 'uuid', 'email', 'hostname', 'ipv4', 'ipv6', 'uri', 'json-pointer'].map(
        (format) => [format, { type: 'string', format }],
      ),
    ),
  },
  'numbers of items': { type: 'array', items: { enum: ['N1', 'N2', 'N3'] }, minItems: 3, uniqueItems: true },
  'a tuple': { type: 'array', prefixItems: [{ type: 'string' }, { type: 'integer' }], items: false },
  'no more than there may be': { type: 'array', items: { type: 'string' }, maxItems: 1 },
  'members by any name': { type: 'object', additionalProperties: { type: 'integer' }, minProperties: 2 },
  'parts put together': {
    allOf: [
      { type: 'object', properties: { code: { type: 'string' } }, required: ['code'] },
      { properties: { code: { minLength: 12 }, nights: { type: 'integer', maximum: 2 } }, required: ['nights'] },
    ],
  },
  'one of several shapes': {
    type: 'object',
    oneOf: [
      { properties: { kind: { const: 'berth' }, code: { type: 'string' } }, required: ['kind', 'code'] },
      { properties: { kind: { const: 'quay' } }, required: ['kind'] },
    ],
  },
  'what may be null': { anyOf: [{ type: 'null' }, { type: 'integer', minimum: 1 }] },
  'a required member that nobody describes': { type: 'object', required: ['mark'] },
  'an example that keeps to it': { type: 'string', example: 'N1', maxLength: 2 },
  'an example that does not': { type: 'string', example: 'too long', maxLength: 2 },
  'a default of another type': { type: 'integer', default: 'none' },
};

for (const [name, schema] of Object.entries(schemas))
  test(`a value is valid for any seed: ${name}`, async () => {
    await loadSchemaChecks();
    for (let seed = 0; seed < 40; seed += 1)
      assert.deepEqual(schemaMismatches(inventedValue(schema as Value, seed), schema), [], `seed ${seed}`);
  });

test('the same seed makes the same value, another one another', () => {
  const schema = { type: 'object', properties: { name: { type: 'string' }, lengthM: { type: 'number' } } } as Value;
  assert.deepEqual(inventedValue(schema, 7), inventedValue(schema, 7));
  assert.notDeepEqual(inventedValue(schema, 7), inventedValue(schema, 8));
});

test('documented examples are taken, and what holds itself ends', () => {
  const parts: Readonly<Record<string, Value>> = {
    '#/Pilot': {
      type: 'object',
      properties: { name: { type: 'string', example: 'Ann Tide' }, next: { $ref: '#/Pilot' } },
    },
  };
  const made = inventedValue({ $ref: '#/Pilot' }, 1, (reference) => parts[reference]) as { name: string; next: object };
  assert.equal(made.name, 'Ann Tide');
  assert.ok(JSON.stringify(made).length < 2000);
});
