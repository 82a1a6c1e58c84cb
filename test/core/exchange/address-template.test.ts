/** The cases that were published for RFC 6570, from a package that ships them. */
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { addressPieces } from '../../../src/core/exchange/address/address-template.js';
import { ownMember } from '../../../src/core/value/own-member.js';
import type { Value } from '../../../src/core/value/written.js';
import { projectFolder } from '../../support/program.js';

interface Group {
  readonly variables: Readonly<Record<string, Value>>;
  /** What is expected: one text, any of several, or false for an error. */
  readonly testcases: readonly (readonly [template: string, expected: string | readonly string[] | false])[];
}

const folder = join(projectFolder, 'node_modules/uri-templates/test/uritemplate-test');
const files = ['spec-examples', 'spec-examples-by-section', 'extended-tests', 'negative-tests'];

/** Names with a dash are no names of the RFC, and are those of many parameters in descriptions. */
const taken = new Set(['/{default-graph-uri}', '/sparql{?query,default-graph-uri}']);

/** What the RFC leaves as it is in a template, an address encodes (section 3.1). */
const expand = (template: string, variables: Group['variables']): string =>
  addressPieces(template)
    .map((piece) => (typeof piece === 'string' ? piece : piece.write((name) => ownMember(variables, name) as Value)))
    .join('');

let cases = 0;
for (const file of files) {
  const groups = JSON.parse(readFileSync(join(folder, `${file}.json`), 'utf8')) as Readonly<Record<string, Group>>;
  for (const [title, { variables, testcases }] of Object.entries(groups)) {
    cases += testcases.length;
    test(`${file}, ${title}: ${testcases.length} templates`, () => {
      for (const [template, expected] of testcases) {
        if (expected !== false) assert.ok([expected].flat().includes(expand(template, variables)), template);
        else if (taken.has(template)) assert.doesNotThrow(() => expand(template, variables), template);
        else assert.throws(() => expand(template, variables), { code: 'address-shape' }, template);
      }
    });
  }
}

test('all of the published cases were tried', () => assert.equal(cases, 227));
