/** A request about to leave, and a response that came, held against the documented operation. */
import { responseFor } from '../../collection/sources/documented-schema.js';
import { contentMismatches } from '../../documentation/changes/content-mismatch.js';
import { type Mismatch, mismatches, textMismatch } from '../../documentation/changes/mismatch.js';
import type { Operation } from '../../documentation/model/model.js';
import { separatorOf } from '../../documentation/model/parameter-style.js';
import { nearest } from '../../problem/nearest.js';
import type { Received } from '../response/received.js';
import type { ResolvedRequest, WireRequest } from './wire.js';

/**
 * In the words of the documentation: `$.price is a string, documented as number`.
 * @param wire with what sessions and signatures add; undefined where that is not known yet, and nothing is missed then
 * @param schema of the body, where a JSON Schema is documented; `loadSchemaChecks` has settled before
 */
export function requestMismatches(
  request: ResolvedRequest,
  operation: Operation,
  wire: Pick<WireRequest, 'url' | 'headers'> | undefined,
  schema: object | undefined,
): readonly Mismatch[] {
  return [
    ...methodMismatch(request, operation),
    ...queryMismatches(request, operation),
    ...(wire ? missingParameters(wire, operation) : []),
    ...bodyMismatches(request, operation, schema),
  ];
}

function missingParameters(
  { url, headers }: Pick<WireRequest, 'url' | 'headers'>,
  { parameters, protocol }: Operation,
): Mismatch[] {
  if (protocol !== 'http') return [];
  const given = {
    query: [...url.searchParams.keys()].flatMap((name) => [name, name.replace(/\[[^\]]*\]$/, '')]),
    header: headers.map(({ name }) => name.toLowerCase()),
  };
  return parameters.flatMap(({ in: where, name, required, type }) => {
    if (!required || (where !== 'query' && where !== 'header')) return [];
    // The members of an object may be parameters by themselves.
    if (where === 'query' && type.startsWith('object')) return [];
    if (given[where].includes(where === 'header' ? name.toLowerCase() : name)) return [];
    return [{ at: `${where} ${name}`, path: [name], what: 'is documented as required, and missing' }];
  });
}

function methodMismatch({ method }: ResolvedRequest, { method: documented, protocol }: Operation): readonly Mismatch[] {
  if (protocol !== 'http' || method === documented) return [];
  return [{ at: 'method', path: [], what: `is ${method}, documented is ${documented}` }];
}

function queryMismatches({ query }: ResolvedRequest, { parameters, protocol }: Operation): Mismatch[] {
  if (protocol !== 'http') return [];
  const known = new Map(parameters.filter((one) => one.in === 'query').map((one) => [one.name, one]));
  return query.flatMap(({ name, value, secret }) => {
    const bare = name.replace(/\[[^\]]*\]$/, '');
    const parameter = known.get(name) ?? known.get(bare);
    const at = `query ${name}`;
    if (!parameter) {
      const near = nearest(name, [...known.keys()]);
      return [{ at, path: [name], what: `is not documented${near === undefined ? '' : `; documented is ${near}`}` }];
    }
    if (secret || parameter.type.startsWith('object')) return [];
    const between = separatorOf(parameter);
    const texts = between === undefined ? [value] : value.split(between);
    return texts.flatMap((text) => {
      const what = textMismatch(text, parameter);
      return what === undefined ? [] : [{ at, path: [name], what }];
    });
  });
}

function bodyMismatches(
  { body }: ResolvedRequest,
  { parameters, body: documented, protocol }: Operation,
  schema: object | undefined,
): readonly Mismatch[] {
  if (protocol === 'http' && !body && documented?.required)
    return [{ at: 'body', path: [], what: 'is documented as required, and missing' }];
  if (protocol === 'http' && body && !documented)
    return [{ at: 'body', path: [], what: 'is there, and none is documented' }];
  if (!body || body.streamed || !/[/+]json\b/.test(body.type)) return [];
  let value: unknown;
  try {
    value = JSON.parse(Buffer.from(body.bytes).toString('utf8'));
  } catch {
    return [];
  }
  if (protocol === 'graphql') {
    const { variables = {} } = value as { variables?: unknown };
    return mismatches(variables, parameters).map((one) => ({ ...one, at: one.at.replace(/^\$/, 'variables') }));
  }
  return documented ? contentMismatches(value, documented, schema, {}) : [];
}

/** What the documentation does not know of a response: its status, its fields. */
/** @param schema of the response, where a JSON Schema is documented; `loadSchemaChecks` has settled before */
export function responseMismatches(
  received: Received,
  operation: Operation,
  schema: object | undefined,
): readonly Mismatch[] {
  const documented = responseFor(operation, received.status);
  if (!documented) {
    const known = operation.responses.map(({ status }) => status).join(', ');
    return [{ at: 'status', path: [], what: `is ${received.status}, documented are ${known === '' ? 'none' : known}` }];
  }
  if (!documented.content || !received.claimsJson || received.size === 0) return [];
  const body: unknown = received.json();
  if (operation.graphql) {
    const data = (body as { data?: Record<string, unknown> } | null)?.data?.[operation.graphql.field];
    // Only what was asked for comes back, so that nothing is missing there.
    return contentMismatches(data, documented.content, undefined, { response: true }).filter(
      ({ what }) => !what.endsWith('missing'),
    );
  }
  return contentMismatches(body, documented.content, schema, { response: true });
}
