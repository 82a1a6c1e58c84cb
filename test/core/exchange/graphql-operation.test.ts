/** What a GraphQL document does, by its text. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { operationKind } from '../../../src/core/exchange/request/graphql-operation.js';

const documents: readonly (readonly [document: string, name: string | undefined, kind: string | undefined])[] = [
  ['{ pilots { name } }', undefined, 'query'],
  ['query Rota { pilots { name } }', undefined, 'query'],
  ['query ($first: Int = 3, $of: In = {a: 1}) { pilots(first: $first) { name } }', undefined, 'query'],
  ['mutation { book(id: 1) { id } }', undefined, 'mutation'],
  ['mutation Book($id: ID!) { book(id: $id) { id } }', 'Book', 'mutation'],
  ['query Look { a } mutation Book { b }', 'Look', 'query'],
  ['query Look { a } mutation Book { b }', 'Book', 'mutation'],
  ['query Look { a } mutation Book { b }', undefined, 'mutation'],
  ['fragment F on Pilot { name } query { pilots { ...F } }', undefined, 'query'],
  ['# mutation { no }\nquery { a }', undefined, 'query'],
  ['query { a(note: "mutation { b }") }', undefined, 'query'],
  ['"""\nmutation { b }\n"""\nquery { a }', undefined, 'query'],
  ['query { mutation }', undefined, 'query'],
  ['subscription { calls { id } }', undefined, 'query'],
  ['query Look { a }', 'Nothing', undefined],
  ['', undefined, undefined],
];
for (const [document, name, kind] of documents) {
  test(`${JSON.stringify(document)}${name ? ` meaning ${name}` : ''} is ${kind ?? 'nothing'}`, () =>
    assert.equal(operationKind(document, name), kind));
}
