/** Searches through the index, and filter clauses against what is documented for them. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { type Found, findOperations } from '../../../src/core/documentation/explore/search.js';
import { clauseFault, clausesSaid } from '../../../src/core/documentation/model/filter-clause.js';
import type { ClauseTerms } from '../../../src/core/documentation/model/model.js';
import { readJson } from '../../support/documentation.js';

const page = { type: 'object', properties: { pennant: { type: 'string', description: 'Colour of the burgee' } } };
const response = (schema: object) => ({ 200: { description: 'Yes', content: { 'application/json': { schema } } } });
const document = {
  openapi: '3.1.0',
  info: { title: 'Quays', version: '1' },
  paths: {
    '/flags': {
      get: {
        operationId: 'listFlags',
        responses: response({ type: 'array', items: { $ref: '#/components/schemas/Flag' } }),
      },
    },
    '/flags/{id}': {
      get: {
        operationId: 'showFlag',
        summary: 'Zeige die Größe der Flagge',
        parameters: [{ name: 'id', in: 'path', required: true, schema: { type: 'string' } }],
        responses: response({ $ref: '#/components/schemas/Flag' }),
      },
    },
    '/tides': { get: { operationId: 'listTides', summary: 'Pennants are not here', responses: response(page) } },
  },
  components: { schemas: { Flag: { type: 'object', properties: { hoistedAt: { type: 'string' }, page } } } },
};

const found = async (...words: string[]): Promise<Found> =>
  findOperations(new Map([['quays', (await readJson(document)).index]]), words);
const told = ({ matches }: Found): [string, readonly string[]][] => matches.map(({ id, in: where }) => [id, where]);

test('a field of a shared schema is found in every operation that has it, by its name as it is written', async () => {
  assert.deepEqual(told(await found('hoisted')), [
    ['listFlags', ['field hoistedAt']],
    ['showFlag', ['field hoistedAt']],
  ]);
  assert.deepEqual(
    told(await found('hoisted', 'flags')).map(([id]) => id),
    ['listFlags', 'showFlag'],
  );
  assert.deepEqual(
    told(await found('burgee')).map(([, where]) => where),
    [['description'], ['description'], ['description']],
  );
});

test('the best place of a word decides, in the own line or in a shared one', async () => {
  assert.deepEqual(told(await found('pennant'))[0], ['listTides', ['summary']]);
  assert.deepEqual(told(await found('pennant'))[1], ['listFlags', ['field page.pennant']]);
});

test('words beyond ASCII are found, and their typing mistakes', async () => {
  assert.deepEqual(told(await found('größe')), [['showFlag', ['summary']]]);
  const near = await found('grösse');
  assert.deepEqual([...near.read], [['grösse', 'größe']]);
});

test('a word of digits is not found among the numbers of lines', async () => {
  assert.equal((await found('0')).total, 0);
});

const terms = { fields: ['flag', 'lengthM', 'name'], operators: ['is', 'above', 'has'] };
const signs = { fields: [], operators: ['=', '>', '>=', 'like'] };

const faults: readonly (readonly [string, ClauseTerms, RegExp | undefined])[] = [
  ["flag is 'Merrow Isles' and lengthM above 80", terms, undefined],
  ["name is 'O''Hare'", terms, undefined],
  ["name is 'bread and butter' or flag is 'x; y, z'", terms, undefined],
  ["has(name, 'Tern') and (lengthM above 10)", terms, undefined],
  ["flag is 'Merrow Isles", terms, /opens a quote that is never closed: 'Merrow Isles/],
  ['flag is Merrow Isles', terms, /spaces and no quotes: Merrow Isles/],
  ["flg is 'x'", terms, /names flg, which is not documented: did you mean flag\?/],
  ['lengthM over 80', terms, /no documented operator in "lengthM over 80"/],
  ['lengthM abov 80', terms, /did you mean above\?/],
  ['lengthM above', terms, /no value/],
  ['length>=80;name like "a b"', signs, undefined],
  ['length<80', signs, /no documented operator/],
  ['length >= ', signs, /no value/],
  ["anything 'goes here", { fields: [], operators: [] }, /never closed/],
  ['anything goes here', { fields: [], operators: [] }, undefined],
  ["flag is 'Merrow' and lengthM above 80 and name is true", { ...terms, quotes: 'single' }, undefined],
  ['flag is Merrow', { ...terms, quotes: 'single' }, /has a text without quotes: Merrow; documented is 'Merrow'/],
  [
    'flag is "Merrow Isles"',
    { ...terms, quotes: 'single' },
    /in other quotes: "Merrow Isles"; documented is 'Merrow Isles'/,
  ],
  ["name like 'a'", { ...signs, quotes: 'double' }, /in other quotes: 'a'; documented is "a"/],
  ['lengthM above 2026-11-24 and flag is ${flag}', { ...terms, quotes: 'single' }, /without quotes: \$\{flag\}/],
];

for (const [text, known, fault] of faults) {
  test(`clause ${text}`, () => {
    const said = clauseFault(text, known);
    if (fault) assert.match(said ?? '', fault);
    else assert.equal(said, undefined);
  });
}

test('operators are read from a description that lists them', () => {
  assert.deepEqual(clausesSaid('A filter. Operators: `is`, isnt and above. Nothing else'), {
    fields: [],
    operators: ['is', 'isnt', 'above'],
  });
  assert.deepEqual(clausesSaid('The supported operators are: = | > | <; texts stand in single quotes.'), {
    fields: [],
    operators: ['=', '>', '<'],
    quotes: 'single',
  });
  assert.equal(clausesSaid('The operator of the crane, in double quotes'), undefined);
});
