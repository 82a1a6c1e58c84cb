/** A request held against its documented operation, as strictly as `check` holds a request file. */
import { contentMismatches } from '../documentation/changes/content-mismatch.js';
import { mismatches, textMismatch } from '../documentation/changes/mismatch.js';
import { isJsonType } from '../documentation/model/media-types.js';
import type { Body, Definitions, Operation, Parameter } from '../documentation/model/model.js';
import { ownMember } from '../value/own-member.js';
import type { Value } from '../value/written.js';
import { credentialsFault } from './credentials.js';
import type { Refused, RehearsedRequest } from './messages.js';

/** What a request brings, read. */
export interface Brought {
  readonly path: Readonly<Record<string, string>>;
  readonly query: URLSearchParams;
  /** Of JSON or a form; undefined where there is none, or one of another type. */
  readonly body: Value | undefined;
}

export interface Judged {
  readonly brought: Brought;
  readonly refused: Refused | undefined;
}

/** @param bodySchema of the documented body; `loadSchemaChecks` has settled before */
export function judgeRequest(
  request: RehearsedRequest,
  operation: Operation,
  path: Readonly<Record<string, string>>,
  definitions: Definitions,
  bodySchema: object | undefined,
): Judged {
  const query = new URLSearchParams(request.target.split('?').slice(1).join('?').replace(/#.*$/s, ''));
  const { body, refused: unreadable } = readBody(request, operation.body);
  const brought = { path, query, body };
  const credentials = credentialsFault(operation, request, query, definitions);
  if (credentials !== undefined) {
    const scheme = /\((?:http )?(\w+)\)/i.exec(credentials)?.[1] ?? 'Bearer';
    const challenge = `${scheme[0]?.toUpperCase()}${scheme.slice(1)}`;
    return {
      brought,
      refused: {
        status: 401,
        title: 'credentials are missing',
        faults: [credentials],
        headers: { 'www-authenticate': challenge },
      },
    };
  }
  if (unreadable) return { brought, refused: unreadable };
  const faults = [
    ...parameterFaults(request, operation, brought, definitions),
    ...(body === undefined || !operation.body ? [] : bodyFaults(body, operation.body, bodySchema, request)),
  ];
  return {
    brought,
    refused: faults.length === 0 ? undefined : { status: 400, title: 'not as documented', faults },
  };
}

function readBody(
  { headers, body }: RehearsedRequest,
  documented: Body | undefined,
): { readonly body: Value | undefined; readonly refused?: Refused } {
  const refusal = (status: number, title: string, fault: string) => ({
    body: undefined,
    refused: { status, title, faults: [fault] },
  });
  if (body.length === 0)
    return documented?.required === true
      ? refusal(400, 'the body is missing', `the body is missing, documented is ${documented.type}`)
      : { body: undefined };
  if (!documented) return refusal(400, 'a body too much', 'the documented operation takes no body');
  const [given = ''] = (headers.get('content-type') ?? '').toLowerCase().split(';');
  const type = given.trim();
  const taken = [documented.type, ...documented.otherTypes].map((one) =>
    (one.toLowerCase().split(';')[0] ?? '').trim(),
  );
  if (!taken.some((one) => sameType(one, type)))
    return refusal(
      415,
      'another media type',
      `the body is ${type === '' ? 'of no media type' : type}, documented is ${taken.join(' or ')}`,
    );
  const text = Buffer.from(body.buffer, body.byteOffset, body.byteLength).toString('utf8');
  if (type === 'application/x-www-form-urlencoded') return { body: Object.fromEntries(new URLSearchParams(text)) };
  if (!isJsonType(type)) return { body: undefined };
  try {
    return { body: JSON.parse(text) as Value };
  } catch (error) {
    return refusal(400, 'the body cannot be read', `the body is not JSON: ${(error as Error).message}`);
  }
}

/** `*` in a documented type stands for any. */
const sameType = (documented: string, given: string): boolean =>
  documented === given ||
  (documented.includes('*') &&
    new RegExp(`^${documented.replace(/[.+?^${}()|[\]\\/]/g, '\\$&').replaceAll('*', '[^/]+')}$`).test(given));

function* parameterFaults(
  request: RehearsedRequest,
  { parameters, security }: Operation,
  { path, query }: Brought,
  definitions: Definitions,
): Generator<string> {
  const cookies = new Map(
    (request.headers.get('cookie') ?? '')
      .split(/;\s*/)
      .map((one) => [one.split('=', 1)[0] ?? '', one.slice(one.indexOf('=') + 1)]),
  );
  for (const parameter of parameters) {
    const { name, required } = parameter;
    const given =
      parameter.in === 'path'
        ? [ownMember(path, name) ?? []].flat()
        : parameter.in === 'query'
          ? queryValues(query, parameter)
          : parameter.in === 'header'
            ? [request.headers.get(name.toLowerCase()) ?? []].flat()
            : parameter.in === 'cookie'
              ? [cookies.get(name) ?? []].flat()
              : [];
    if (given.length === 0) {
      // What a server adds to its address is no path of the operation.
      if (required && parameter.in !== 'path' && parameter.in !== 'argument' && parameter.in !== 'envelope')
        yield `${parameter.in} ${name} is documented as required, and missing`;
      continue;
    }
    if (parameter.media !== undefined || parameter.style === 'deepObject') continue;
    for (const value of given) {
      const what = textMismatch(value, parameter);
      if (what !== undefined) yield `${parameter.in} ${name} ${what}`;
    }
  }
  const known = new Set(parameters.filter((one) => one.in === 'query').map(({ name }) => name));
  const open = parameters.some((one) => one.in === 'query' && (one.type.startsWith('object') || one.open));
  for (const name of new Set(query.keys())) {
    if (open || known.has(name) || known.has(name.replace(/\[[^\]]*\]$/, '')) || known.has(`${name}[]`)) continue;
    if (keysInQuery(security, definitions).has(name)) continue;
    yield `the query parameter ${name} is not documented`;
  }
}

function queryValues(query: URLSearchParams, { name, type, lists, style }: Parameter): string[] {
  const all = [...query.getAll(name), ...query.getAll(`${name}[]`)];
  if (!type.startsWith('array') || lists !== 'joined') return all;
  const mark = style === 'pipeDelimited' ? '|' : style === 'spaceDelimited' ? ' ' : ',';
  return all.flatMap((one) => one.split(mark));
}

function keysInQuery(security: Operation['security'], definitions: Definitions): Set<string> {
  const names = new Set<string>();
  for (const { name } of security.flatMap(({ schemes }) => schemes)) {
    const scheme = definitions.get(`#/components/securitySchemes/${name}`) as
      | { in?: unknown; name?: unknown }
      | undefined;
    if (scheme?.in === 'query' && typeof scheme.name === 'string') names.add(scheme.name);
  }
  return names;
}

function bodyFaults(
  body: Value,
  documented: Body,
  schema: object | undefined,
  { headers }: RehearsedRequest,
): string[] {
  const form = (headers.get('content-type') ?? '').includes('x-www-form-urlencoded');
  // The values of a form are texts, whatever they are documented as.
  const found = form
    ? [
        ...mismatches(body, documented.fields, { namesOnly: true, open: documented.open === true }),
        ...documented.fields.flatMap((field) => {
          const value = ownMember(body as Readonly<Record<string, Value>>, field.name);
          const at = `$.${field.name}`;
          if (value === undefined)
            return field.required ? [{ at, what: 'is documented as required, and missing' }] : [];
          const what = field.fields ? undefined : textMismatch(String(value), field);
          return what === undefined ? [] : [{ at, what }];
        }),
      ]
    : contentMismatches(body, documented, schema, {});
  return found.map(({ at, what }) => `${at} ${what}`);
}
