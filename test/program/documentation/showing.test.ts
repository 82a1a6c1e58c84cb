/** What `docs list` and `docs show` print of large and deep descriptions. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { collectionOf, writeIn } from '../../support/folder.js';
import { echoTrail } from '../../support/program.js';

const long = 'A note of the harbour office that goes on and on, as such notes do. '.repeat(6);
const levels = (depth: number): object =>
  depth === 0
    ? { type: 'string' }
    : {
        type: 'object',
        properties: Object.fromEntries(
          Array.from({ length: 5 }, (_, index) => [
            `part${index}`,
            { ...levels(depth - 1), description: index === 0 ? `First line\nand second. ${long}` : `Part ${index}` },
          ]),
        ),
      };
const refusal = { value: { error: 'berth-taken', berth: 'N3' } };
const ship = {
  type: 'object',
  required: ['plan'],
  properties: { plan: levels(4), crew: { $ref: '#/components/schemas/port.of.call.Crew' } },
};
const description = {
  openapi: '3.0.3',
  info: { title: 'Stowage', version: '1' },
  servers: [{ url: 'https://stowage.example' }],
  security: [{ quayKey: [] }],
  paths: {
    '/v2/ships': {
      post: {
        operationId: 'stowShip',
        summary: 'Stow a ship\nas planned',
        tags: ['ships'],
        description: `${long}\n`.repeat(40),
        requestBody: { required: true, content: { 'application/json': { schema: ship } } },
        responses: {
          201: { description: 'Stowed\nand sealed' },
          409: {
            description: 'Taken',
            content: {
              'application/json': {
                schema: { type: 'object' },
                examples: { taken: { $ref: '#/components/examples/Taken' } },
              },
            },
          },
        },
      },
    },
    '/v2/ships/{id}/holds': { get: { operationId: 'listHolds', responses: { 200: { description: 'ok' } } } },
  },
  components: {
    examples: { Taken: refusal },
    securitySchemes: {
      quayKey: {
        type: 'apiKey',
        in: 'header',
        name: 'X-Quay',
        description: 'The quay master issues keys, to agents alone.',
      },
    },
    schemas: {
      'port.of.call.Crew': { type: 'object', properties: { captain: { $ref: 'crew.json' } } },
      'port.of.stay.Crew': { type: 'object', properties: { cook: { type: 'string' } } },
    },
  },
};

const cwd = collectionOf({});
writeIn(cwd, 'stowage.json', JSON.stringify(description));
writeIn(cwd, 'crew.json', '{"type": "object", "properties": {"rank": {"type": "string"}}}');
const added = await echoTrail(['docs', 'add', 'stowage.json', '--name', 'stowage'], { cwd });
assert.equal(added.status, 0, added.err);
const shown = async (...args: string[]): Promise<string> => {
  const ended = await echoTrail(args, { cwd, env: { COLUMNS: '100', LINES: '40' } });
  assert.equal(ended.status, 0, ended.err);
  return ended.out;
};
const linesOf = (text: string): string[] => text.split('\n');

test('a deep body is folded to two screens, with how many fields are below and what unfolds them', async () => {
  const text = await shown('docs', 'show', 'stowShip');
  assert.ok(linesOf(text).length < 200, `${linesOf(text).length} lines`);
  assert.ok(Math.max(...linesOf(text).map((line) => line.length)) <= 100);
  assert.match(text, /part1 +object +\(5 fields below: --depth 3\) Part 1/);
  assert.match(text, /and \d+ more lines: --json has them/);
  const whole = await shown('docs', 'show', 'stowShip', '--depth', '4');
  assert.ok(linesOf(whole).length > 700);
  assert.doesNotMatch(whole, /fields below/);
  const shallow = await shown('docs', 'show', 'stowShip', '--depth', '0');
  assert.match(shallow, /crew +object +\(1 field below: --depth 1, or --type Crew\)/);
});

test('prose stands on one line, without signs for its line feeds, and breaks between words', async () => {
  const text = await shown('docs', 'show', 'stowShip');
  assert.match(text, /Stow a ship as planned/);
  assert.match(text, /201 {2}Stowed and sealed/);
  assert.match(text, /First line and second/);
  assert.doesNotMatch(text, /\\n/);
  assert.match(await shown('docs', 'find', 'stow', 'ship'), /Stow a ship as planned/);
});

test('what the vendor says of a key is shown, and an example that is referred to', async () => {
  const text = await shown('docs', 'show', 'stowShip');
  assert.match(text, /quayKey: a key in the header X-Quay\n {2}The quay master issues keys, to agents alone\./);
  assert.match(text, /409 {2}Taken[^\n]*\n +\{\n +"error": "berth-taken",/);
});

test('an operation is found by method and path, a type by the end of its name, also in another file', async () => {
  for (const given of [['POST /v2/ships'], ['post', '/v2/ships'], ['POST', '/ships']])
    assert.match(await shown('docs', 'show', ...given), /^stowage\/stowShip/);
  assert.match(await shown('docs', 'show', 'GET', '/v2/ships/{ship}/holds'), /^stowage\/listHolds/);
  assert.match(await shown('docs', 'show', '--type', 'call.Crew'), /^stowage\/port\.of\.call\.Crew/);
  assert.match(await shown('docs', 'show', '--type', 'crew'), /^stowage\/crew {2}object[\s\S]*rank/);
  const several = await echoTrail(['docs', 'show', '--type', 'Crew'], { cwd });
  assert.equal(several.status, 2);
  assert.match(
    several.err,
    /several types fit Crew[\s\S]*stowage\/port\.of\.call\.Crew, stowage\/port\.of\.stay\.Crew/,
  );
  const none = await echoTrail(['docs', 'show', 'PUT', '/v2/ships'], { cwd });
  assert.equal(none.status, 2);
  assert.match(none.err, /no documentation source describes the operation PUT \/v2\/ships/);
});

test('docs list --operations has every operation, for people and for programs', async () => {
  const text = await shown('docs', 'list', '--operations');
  assert.match(text, /stowage\/stowShip +POST \/v2\/ships +ships +Stow a ship as planned/);
  const { operations } = JSON.parse(await shown('docs', 'list', '--operations', '--json')) as { operations: object[] };
  assert.deepEqual(operations[1], {
    operation: 'stowage/listHolds',
    method: 'GET',
    path: '/v2/ships/{id}/holds',
    deprecated: false,
    group: 'ships',
    summary: null,
  });
});
