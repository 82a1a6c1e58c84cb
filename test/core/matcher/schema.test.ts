/** `schema`: the cases that were published for JSON Schema, from a package that ships them; other drafts by what tells them apart. */
import assert from 'node:assert/strict';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { compileMatchers } from '../../../src/core/matcher/compile.js';
import type { Value } from '../../../src/core/value/written.js';
import { projectFolder } from '../../support/program.js';

const suite = join(projectFolder, 'node_modules/json-schema-test-suite');

interface Group {
  readonly description: string;
  readonly schema: Value;
  readonly tests: readonly { readonly description: string; readonly data: Value; readonly valid: boolean }[];
}

/** Whether a value is valid, by a schema as a request has it. */
async function isValid(schema: Value, data: Value, readText: (path: string) => string): Promise<boolean> {
  const loads: Promise<unknown>[] = [];
  const check = compileMatchers({ schema }, { subject: { strict: true }, loads, readText });
  await Promise.all(loads);
  return check.miss(data, {}) === undefined;
}

/** What the suite serves, as files of the collection. */
const remote = (path: string): string => readFileSync(join(suite, 'remotes', path), 'utf8');

/** Cases that are not met, and why. */
const missed: Readonly<Record<string, string>> = {};

const folder = join(suite, 'tests/draft4');
let cases = 0;
for (const file of readdirSync(folder).filter((name) => name.endsWith('.json'))) {
  const groups = JSON.parse(readFileSync(join(folder, file), 'utf8')) as Group[];
  test(`draft 4, ${file}`, async () => {
    for (const { description, schema, tests } of groups) {
      const draft = { $schema: 'http://json-schema.org/draft-04/schema#', ...(schema as object) } as Value;
      for (const one of tests) {
        cases += 1;
        const name = `${file}: ${description}: ${one.description}`;
        const valid = await isValid(draft, one.data, remote).catch(
          (error: Error & { reason?: string }) => error.reason ?? error.message,
        );
        if (Object.hasOwn(missed, name)) assert.notEqual(valid, one.valid, `${name} is met by now`);
        else assert.equal(valid, one.valid, name);
      }
    }
  });
}
test('all of the published cases were tried', () => assert.ok(cases > 200, String(cases)));

const files: Readonly<Record<string, string>> = {
  'schemas/call.json':
    '{"properties": {"berth": {"$ref": "parts/berth.json"}, "code": {"$ref": "parts/berth.json#/$defs/code"}}}',
  'schemas/parts/berth.json':
    '{"type": "object", "required": ["code"], "properties": {"code": {"$ref": "#/$defs/code"}, "next": {"$ref": "../call.json"}}, "$defs": {"code": {"pattern": "^[NS]\\\\d$"}}}',
  'schemas/named.json':
    '{"$id": "https://harbour.example/schemas/named.json", "properties": {"tide": {"$ref": "tide.json"}, "mark": {"$ref": "https://harbour.example/schemas/parts/mark.json"}}}',
  'schemas/tide.json': '{"$id": "https://harbour.example/schemas/tide.json", "enum": ["low", "high"]}',
  'schemas/parts/mark.json': '{"type": "integer"}',
};
const readText = (path: string): string => {
  const text = files[path];
  if (text === undefined) throw new Error(`no ${path}`);
  return text;
};

const drafts: readonly (readonly [name: string, schema: Value, valid: readonly Value[], wrong: readonly Value[]])[] = [
  ['draft 4 by its limits, which are flags', { maximum: 3, exclusiveMaximum: true }, [2], [3]],
  [
    'draft 7 by its tuples',
    { items: [{ type: 'string' }, { type: 'integer' }], additionalItems: false },
    [['a', 1]],
    [
      ['a', 'b'],
      ['a', 1, 2],
    ],
  ],
  [
    'draft 7 by its name',
    {
      $schema: 'http://json-schema.org/draft-07/schema#',
      if: { const: 1 },
      else: { const: 2 },
      definitions: { a: true },
    },
    [1, 2],
    [3],
  ],
  [
    '2019-09: items that are not looked at',
    {
      $schema: 'https://json-schema.org/draft/2019-09/schema',
      items: [{ type: 'string' }],
      unevaluatedItems: false,
      dependentRequired: { a: ['b'] },
    },
    [['a'], { a: 1, b: 2 }],
    [['a', 1], { a: 1 }],
  ],
  [
    '2020-12, where nothing says otherwise',
    { prefixItems: [{ type: 'string' }], items: false, exclusiveMaximum: 3 },
    [['a'], 2],
    [['a', 1], 3],
  ],
  ['true', true, [1, null, {}], []],
  ['false', false, [], [1, null, {}]],
  [
    'a file that refers to files, which refer to it',
    'schemas/call.json',
    [{ berth: { code: 'N1', next: { code: 'S2' } } }],
    [{ berth: {} }, { code: 'X' }, { berth: { code: 'N1', next: { berth: {} } } }],
  ],
  [
    'files that are named by their addresses',
    'schemas/named.json',
    [{ tide: 'low', mark: 7 }],
    [{ tide: 'ebb' }, { mark: 'x' }],
  ],
  ['a schema in a request, with files', { $ref: 'schemas/parts/mark.json' }, [7], ['x']],
];
for (const [name, schema, valid, wrong] of drafts) {
  test(`${name}`, async () => {
    for (const value of valid) assert.equal(await isValid(schema, value, readText), true, JSON.stringify(value));
    for (const value of wrong) assert.equal(await isValid(schema, value, readText), false, JSON.stringify(value));
  });
}

test('a schema that is not in the collection is not fetched, and said', async () => {
  await assert.rejects(
    isValid({ $ref: 'https://harbour.example/schemas/none.json' }, 1, readText),
    (error: Error & { remedy?: string }) => {
      assert.match(error.remedy ?? '', /nothing is fetched: put the schema that it refers to into the collection/);
      return true;
    },
  );
});
