/**
 * The body and the query of a request hold what is documented: known names, types, allowed values.
 *
 *     body: {json: {berth: N1, nights: 2}}     # holds
 *     body: {json: {berth: N1, nights: "2"}}   # $.nights is a string, documented as integer
 */

import { readFileSync } from 'node:fs';
import type { Collection, Loaded } from '../../collection/collection.js';
import type { RequestFile } from '../../collection/files/request-file.js';
import { documentedEnvelope } from '../../collection/sources/documented-envelope.js';
import { documentedBody } from '../../collection/sources/documented-schema.js';
import type { YamlFile } from '../../collection/yaml.js';
import { contentMismatches } from '../../documentation/changes/content-mismatch.js';
import { type Mismatch, mismatches, textMismatch } from '../../documentation/changes/mismatch.js';
import { loadSchemaChecks } from '../../documentation/changes/schema-mismatch.js';
import { isJsonType } from '../../documentation/model/media-types.js';
import type { Operation } from '../../documentation/model/model.js';
import { envelopeFile } from '../../exchange/body/soap.js';
import { action } from '../../problem/actions.js';
import { nearestHint } from '../../problem/nearest.js';
import { pathInside } from '../../storage/inside.js';
import { plain } from '../../value/written.js';
import type { Finding } from '../finding.js';
import { operationOf } from '../operation-of.js';
import type { Rule } from '../rule.js';
import { positionInText } from '../text-position.js';

export const valuesDocumented: Rule = {
  name: 'values-documented',
  must: 'the body, the variables, the query and its filter clauses hold what is documented for them, an envelope what its schemas say',
  async *check(checked) {
    for (const request of checked.requests.values()) {
      const operation = operationOf(checked, request);
      if (!operation) continue;
      yield* inQuery(request, operation);
      yield* inBody(request, operation, checked.collection);
    }
  },
};

/** Text with an expression is known only when it is sent. */
const unknown = (value: unknown): boolean => typeof value === 'string' && value.includes('${');

function* inQuery(
  { content, yaml }: Loaded<RequestFile>,
  { parameters, protocol }: Operation,
): Generator<Omit<Finding, 'rule'>> {
  if (protocol !== 'http') return;
  const known = new Map(parameters.filter((one) => one.in === 'query').map((one) => [one.name, one]));
  for (const [name, value] of Object.entries(content.query ?? {})) {
    const parameter = known.get(name) ?? known.get(name.replace(/\[[^\]]*\]$/, ''));
    if (!parameter) {
      yield {
        severity: 'warning',
        where: yaml.position(['query', name], 'key'),
        what: `the query parameter ${name} is not documented`,
        remedy: nearestHint(name, known.keys()),
      };
      continue;
    }
    for (const one of (Array.isArray(value) ? value : [value]) as unknown[]) {
      const bare = plain(one);
      if (typeof bare === 'object' || (unknown(bare) && !parameter.clauses)) continue;
      // Of a clause its form is known, whatever its values come to be.
      const what = textMismatch(String(bare).replace(/\$\{[^}]*\}/g, '0'), parameter);
      if (what !== undefined)
        yield {
          severity: 'warning',
          where: yaml.position(['query', name]),
          what: `query ${name} ${what}`,
          remedy: undefined,
        };
    }
  }
}

async function* inBody(
  { content, yaml }: Loaded<RequestFile>,
  operation: Operation,
  collection: Collection,
): AsyncGenerator<Omit<Finding, 'rule'>> {
  if (operation.soap && content.body && 'soap' in content.body)
    yield* inEnvelope(content.body.soap.envelope, yaml, operation, collection);
  const { root, found } = await differences(content.body, operation, collection);
  for (const { at, what, path } of found) {
    yield {
      severity: 'warning',
      where: yaml.position(['body', ...root, ...path]),
      what: `${at.replace(/^\$/, root[0] === 'graphql' ? 'variables' : '$')} ${what}`,
      remedy: action().showOperation(`${operation.source}/${operation.id}`),
    };
  }
}

async function* inEnvelope(
  envelope: string,
  yaml: YamlFile,
  operation: Operation,
  collection: Collection,
): AsyncGenerator<Omit<Finding, 'rule'>> {
  const file = envelopeFile(envelope);
  const text = file === undefined ? envelope : textOf(collection, file);
  for (const { at, what, line } of await documentedEnvelope(collection, operation, text, 'input'))
    yield {
      severity: 'warning',
      where: file === undefined ? positionInText(yaml, ['body', 'soap', 'envelope'], line) : { file, line },
      what: `${at} ${what}`,
      remedy: action().showOperation(`${operation.source}/${operation.id}`),
    };
}

/** Empty where it cannot be read: another rule reports that. */
function textOf({ root }: Collection, file: string): string {
  try {
    return readFileSync(pathInside(root, file), 'utf8');
  } catch {
    return '';
  }
}

/** What differs, and where in the body the value stands. */
async function differences(
  body: RequestFile['body'],
  operation: Operation,
  collection: Collection,
): Promise<{ readonly root: readonly string[]; readonly found: readonly Mismatch[] }> {
  const { protocol, parameters, body: documented } = operation;
  if (body && 'graphql' in body && protocol === 'graphql') {
    const value = bare(body.graphql.variables ?? {});
    return { root: ['graphql', 'variables'], found: unknown(value) ? [] : mismatches(value, parameters, { unknown }) };
  }
  if (!documented || !body || !('json' in body) || !isJsonType(documented.type)) return { root: [], found: [] };
  const value = bare(body.json);
  if (unknown(value)) return { root: [], found: [] };
  const schema = documentedBody(collection, operation);
  if (schema) await loadSchemaChecks();
  return { root: ['json'], found: contentMismatches(value, documented, schema, { unknown }) };
}

/** Values without what they remember of how they were written. */
function bare(value: unknown): unknown {
  const scalar = plain(value);
  if (Array.isArray(scalar)) return scalar.map(bare);
  if (typeof scalar !== 'object' || scalar === null) return scalar;
  return Object.fromEntries(Object.entries(scalar).map(([key, inner]) => [key, bare(inner)]));
}
