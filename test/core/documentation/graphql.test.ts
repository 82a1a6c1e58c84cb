/** GraphQL: a schema of every kind of type, counted with the reference implementation, and drafts that it accepts. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import {
  buildSchema,
  graphql,
  introspectionFromSchema,
  isObjectType,
  parse,
  specifiedScalarTypes,
  validate,
} from 'graphql';
import { parse as parseYaml } from 'yaml';
import { pilotSchema } from '../../../src/standin/pilots/schema.js';
import { readSource } from '../../support/documentation.js';

const schema = buildSchema(pilotSchema);
const builtIn = new Set(specifiedScalarTypes.map(({ name }) => name));

test('every field of the root types is an operation, and every type is there', async () => {
  const { documentation, index } = await readSource(pilotSchema, 'pilots.graphql');
  const counted = [schema.getQueryType(), schema.getMutationType()].flatMap((type) =>
    Object.keys(type?.getFields() ?? {}),
  );
  assert.deepEqual(
    documentation.operations.map(({ id }) => id),
    counted,
  );
  const types = Object.keys(schema.getTypeMap()).filter((name) => !name.startsWith('__') && !builtIn.has(name));
  assert.deepEqual([...index.types()].sort(), types.sort());
  assert.deepEqual(documentation.warnings, []);
});

test('SDL and the result of an introspection describe the same operations', async () => {
  const sdl = await readSource(pilotSchema, 'a.graphql');
  const introspected = await readSource(JSON.stringify({ data: introspectionFromSchema(schema) }), 'a.json');
  assert.deepEqual(introspected.operations, sdl.operations);
});

test('arguments, input objects, enumerations, deprecations, unions and interfaces are shown', async () => {
  const { operation, index } = await readSource(pilotSchema, 'pilots.graphql');
  const [first, , filter] = operation('pilots').parameters;
  assert.deepEqual([first?.type, first?.default, first?.required], ['Int', 3, false]);
  assert.deepEqual(
    filter?.fields?.map(({ name, type }) => [name, type]),
    [
      ['licence', 'Licence'],
      ['onDuty', 'Boolean'],
      ['name', 'String'],
    ],
  );
  assert.deepEqual(filter?.fields?.[0]?.allowed, ['THIRD', 'SECOND', 'FIRST', 'COASTAL']);
  assert.equal(
    operation('bookPilot').parameters[0]?.fields?.every(({ required }) => required),
    true,
  );
  assert.equal(index.type('RotaEntry')?.kind, 'union');
  assert.deepEqual(
    index.type('RotaEntry')?.alternatives?.map(({ name }) => name),
    ['Boarding', 'Rest'],
  );
  assert.match(index.type('Person')?.description ?? '', /Types: Pilot, Dispatcher/);
  assert.equal(index.type('Pilot')?.fields.find(({ name }) => name === 'grade')?.deprecated, true);
  assert.match(index.type('Day')?.description ?? '', /Specified by https:\/\/larkhaven\.example/);
});

test('the example of a response is one that the schema lets a server give to the drafted call', async () => {
  const { operations, draft } = await readSource(pilotSchema, 'pilots.graphql');
  const variableValues = { id: 'P-1', day: '2026-11-25', input: { pilot: 'P-1', imo: '9000017', day: '2026-11-25' } };
  for (const { id, responses } of operations) {
    const { body } = parseYaml(draft(id)) as { body: { graphql: { document: string } } };
    const example = responses[0]?.content?.example as { data: Record<string, unknown> };
    const source = body.graphql.document;
    const { data, errors } = await graphql({ schema, source, rootValue: example.data, variableValues });
    assert.deepEqual(errors, undefined, `${id}: ${errors?.join()} in ${JSON.stringify(example)}`);
    assert.notEqual(data?.[id] ?? null, null, `${id} responses`);
  }
});

test('types that branch without end are described and drafted soon', async () => {
  const names = Array.from({ length: 60 }, (_, index) => index);
  const types = names.map(
    (one) => `type T${one} { edges: [T${one + 1}] node: T${one + 1} nodes: [T${one + 1}] x: String }
input I${one} { ${[...'abcdefgh'].map((letter) => `${letter}: I${one + 1}`).join(' ')} }`,
  );
  const { operation, draft } = await readSource(
    `type Query { root(by: I0): T0 }\n${types.join('\n')}\ntype T60 { x: String }\ninput I60 { x: String }\n`,
    'wide.graphql',
  );
  assert.ok(operation('root').responses[0]?.content?.example);
  assert.ok(draft('root').length < 2e6);
});

for (const depth of [0, 1, 2, 4]) {
  test(`at depth ${depth} the document of every draft fits the schema`, async () => {
    const { operations, draft } = await readSource(pilotSchema, 'pilots.graphql');
    for (const { id } of operations) {
      const file = parseYaml(draft(id, { selection: { depth } })) as { body: { graphql: { document: string } } };
      const faults = validate(schema, parse(file.body.graphql.document));
      assert.deepEqual(
        faults.map(({ message }) => message),
        [],
        file.body.graphql.document,
      );
    }
  });
}

test('chosen fields are selected alone, and one that is none is refused with the nearest', async () => {
  const { draft } = await readSource(pilotSchema, 'pilots.graphql');
  const text = draft('pilot', { selection: { fields: ['name', 'rota.pilot.name'.split('.').slice(0, 1).join('.')] } });
  const { body } = parseYaml(text) as { body: { graphql: { document: string } } };
  assert.deepEqual(validate(schema, parse(body.graphql.document)), []);
  assert.doesNotMatch(body.graphql.document, /licence/);
  assert.throws(() => draft('pilot', { selection: { fields: ['nmae'] } }), /has no field nmae/);
});

test('a type that holds itself is listed once', async () => {
  const { operation } = await readSource(
    'type Query { quay(near: Near): Quay }\ninput Near { of: Near, metres: Int }\ntype Quay { next: Quay, code: ID! }',
    'q.graphql',
  );
  const [near] = operation('quay').parameters;
  assert.equal(near?.fields?.[0]?.recursive, 'Near');
  const fields = operation('quay').responses[0]?.content?.fields ?? [];
  assert.equal(fields[0]?.recursive, 'Quay');
});

test('a value of an enumeration that is deprecated is told, and is not the one that is drafted', async () => {
  const { operation, index, draft } = await readSource(
    'type Query { calls(season: Season!): Int }\nenum Season { LENT @deprecated(reason: "say SPRING") SPRING AUTUMN }',
    'q.graphql',
  );
  const [season] = operation('calls').parameters;
  assert.deepEqual(season?.allowed, ['SPRING', 'AUTUMN', 'LENT']);
  assert.equal(season?.description, 'LENT is deprecated: say SPRING');
  assert.match(draft('calls'), /one-of: \[SPRING, AUTUMN, LENT\]/);
  assert.match(index.type('Season')?.description ?? '', /LENT: deprecated, say SPRING/);
});

const unusable: readonly (readonly [name: string, text: string, says: RegExp])[] = [
  ['SDL that breaks off', 'type Query { a: ', /not a GraphQL schema/],
  ['a type that is not there', 'type Query { a: Nowhere }', /not a GraphQL schema/],
  ['an introspection without types', '{"__schema": {}}', /not a GraphQL schema/],
];
for (const [name, text, says] of unusable)
  test(`${name} is told with its place`, () => assert.rejects(readSource(text, 'x.graphql'), says));

test('the object types have as many fields as the reference implementation counts', async () => {
  const { index } = await readSource(pilotSchema, 'pilots.graphql');
  for (const type of Object.values(schema.getTypeMap())) {
    if (!isObjectType(type) || type.name.startsWith('__')) continue;
    assert.equal(index.type(type.name)?.fields.length, Object.keys(type.getFields()).length, type.name);
  }
});
