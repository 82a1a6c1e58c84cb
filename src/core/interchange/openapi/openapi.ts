/**
 * Requests of a collection as an OpenAPI 3.1 document. What the documentation says is taken over; what it does not is learnt
 * from the requests and from recorded exchanges, and `x-from` says which of them an operation, a body or a response is from.
 */

import type { Collection, Loaded } from '../../collection/collection.js';
import { methodWritten, type RequestFile } from '../../collection/files/request-file.js';
import { findOperation, sourceIndex } from '../../collection/sources/source-index.js';
import { inferFields } from '../../documentation/formats/sample/infer.js';
import type { Content, Operation, Parameter } from '../../documentation/model/model.js';
import type { Echo } from '../../echo/echo.js';
import { hidden } from '../../exchange/request/wire.js';
import { parseJson } from '../../value/json-text.js';
import { ownMember } from '../../value/own-member.js';
import { isSecretName } from '../../value/secret-fields.js';
import { isValueMap, typeOf, type Value } from '../../value/written.js';
import { requestOperation } from './request-operation.js';
import { ComponentSchemas, fieldSchema, objectSchema, plainValue } from './schemas.js';

type Json = Record<string, unknown>;

export interface OpenApiSettings {
  /** Names of requests. */
  readonly requests: readonly string[];
  /** Recorded exchanges, the newest first. */
  readonly echoes: readonly Echo[];
  /** The origin of the environment, where it is known. */
  readonly origin: string | undefined;
}

export interface MadeDocument {
  readonly document: Json;
  /** Requests that have no place in it, and why. */
  readonly left: readonly string[];
}

const methods = new Set(['GET', 'PUT', 'POST', 'DELETE', 'OPTIONS', 'HEAD', 'PATCH', 'TRACE']);

export function openApiDocument(collection: Collection, { requests, echoes, origin }: OpenApiSettings): MadeDocument {
  const schemas = new ComponentSchemas();
  const paths: Record<string, Json> = {};
  const left: string[] = [];
  const security: Record<string, Json> = {};
  for (const name of requests) {
    const loaded = collection.read('request', name);
    const method = methodWritten(loaded.content);
    const place = placeOf(loaded.content.url);
    if (method === undefined || !methods.has(method) || !place) {
      left.push(
        `${name}: ${method === undefined ? 'its method' : place ? `the method ${method}` : 'its address'} is computed when it is sent`,
      );
      continue;
    }
    const known = ownPath(paths, place.path);
    const key = method.toLowerCase();
    if (ownMember(known, key) !== undefined) {
      left.push(`${name}: ${method} ${place.path} is there already, from another request`);
      continue;
    }
    const documented = documentedOf(collection, loaded.content);
    const seen = echoes.filter(({ request, received }) => request === name && received !== undefined);
    const made = documented
      ? documentedOperation(collection, documented, schemas, security)
      : { ...requestOperation(loaded, place.path), ...sessionSecurity(collection, loaded, security) };
    made.responses = responsesOf(made.responses as Json | undefined, seen, documented !== undefined);
    if (place.server !== undefined && place.server !== origin) made.servers = [{ url: place.server }];
    made['x-request'] = name;
    known[key] = made;
  }
  const used = Object.keys(schemas.all).length > 0 || Object.keys(security).length > 0;
  return {
    document: {
      openapi: '3.1.0',
      info: {
        title: collection.manifest.content.name,
        version: '1',
        description:
          'Made from a collection. x-from says where a part is from: documentation is what the vendor documents, request what a request of the collection sends, echo what was recorded.',
      },
      ...(origin !== undefined && { servers: [{ url: origin }] }),
      paths,
      ...(used && {
        components: {
          ...(Object.keys(schemas.all).length > 0 && { schemas: schemas.all }),
          ...(Object.keys(security).length > 0 && { securitySchemes: security }),
        },
      }),
    },
    left,
  };
}

function ownPath(paths: Record<string, Json>, path: string): Json {
  const known = ownMember(paths, path);
  if (known) return known;
  const made: Json = {};
  paths[path] = made;
  return made;
}

/** The path of an address, its parts in braces. @returns undefined where more of it is computed than its beginning */
function placeOf(url: string): { readonly server: string | undefined; readonly path: string } | undefined {
  const rest = url.replace(/^\$\{[^}]*\}/, '');
  if (rest.includes('${')) return undefined;
  const [, server, path = ''] = /^(https?:\/\/[^/?#]*)?([^?#]*)/i.exec(rest) ?? [];
  const bare = path.replace(/\{[+#./;?&]?([\w-]+)[*:\d]*(?:,[^}]*)?\}/g, '{$1}').replace(/\/{2,}/g, '/');
  return { server, path: bare.startsWith('/') ? bare : `/${bare}` };
}

function documentedOf(collection: Collection, { operation }: RequestFile): Operation | undefined {
  if (operation === undefined) return undefined;
  try {
    const found = findOperation(collection, operation);
    return found.protocol === 'http' ? found : undefined;
  } catch {
    return undefined;
  }
}

function documentedOperation(
  collection: Collection,
  operation: Operation,
  schemas: ComponentSchemas,
  security: Record<string, Json>,
): Json {
  const { source, id, summary, description, deprecated, parameters, body, responses, group } = operation;
  const { definitions } = sourceIndex(collection, source);
  const contentOf = (content: Content): Json => ({
    [content.type]: {
      schema:
        content.schema === undefined
          ? content.whole
            ? fieldSchema(content.whole)
            : objectSchema(content.fields)
          : schemas.taken(content.schema, source, definitions),
      ...(content.documentedExample && content.example !== undefined && { example: plainValue(content.example) }),
    },
  });
  const needs = operation.security.flatMap(({ schemes }) => {
    const known = schemes.map(({ name }) => [name, definitions.get(`#/components/securitySchemes/${name}`)] as const);
    if (!known.every(([, scheme]) => isValueMap(scheme))) return [];
    for (const [name, scheme] of known) security[name] = plainValue(scheme as Value) as Json;
    return [Object.fromEntries(known.map(([name]) => [name, []]))];
  });
  return {
    operationId: id,
    ...(needs.length > 0 && { security: needs }),
    ...(group !== '' && { tags: [group] }),
    ...(summary && { summary }),
    ...(description && { description }),
    ...(deprecated && { deprecated }),
    'x-from': `documentation ${source}`,
    ...(operation.certainty && operation.certainty !== 'sure' && { 'x-certainty': operation.certainty }),
    ...withParameters(parameters.filter(({ in: where }) => ['path', 'query', 'header', 'cookie'].includes(where))),
    ...(body && { requestBody: { required: body.required, content: contentOf(body) } }),
    responses: Object.fromEntries(
      responses.map(({ status, description: about, content }) => [
        status === 'default' ? status : status.toUpperCase(),
        { description: about ?? '', ...(content && { content: contentOf(content) }), 'x-from': 'documentation' },
      ]),
    ),
  };
}

function withParameters(parameters: readonly Parameter[]): Json {
  if (parameters.length === 0) return {};
  return {
    parameters: parameters.map((one) => {
      const { description: _, ...schema } = fieldSchema(one) as Json;
      return {
        name: one.name,
        in: one.in,
        required: one.in === 'path' || one.required,
        ...(one.description && { description: one.description }),
        ...(one.deprecated && { deprecated: true }),
        ...(one.lists === 'joined' && { explode: false }),
        schema,
      };
    }),
  };
}

/** What the session of a request adds, as a security scheme. */
function sessionSecurity(
  collection: Collection,
  { name, content }: Loaded<RequestFile>,
  security: Record<string, Json>,
): Json {
  const inherited = collection.defaults(name).at(-1)?.content.session;
  const names = [content.session ?? inherited ?? 'none'].flat().filter((one) => one !== 'none');
  const schemes = names.flatMap((one): [string, Json][] => {
    const { content: file } = collection.read('session', one);
    switch (file.kind) {
      case 'basic':
      case 'digest':
        return [[one, { type: 'http', scheme: file.kind }]];
      case 'bearer':
      case 'oauth2':
        return [[one, { type: 'http', scheme: 'bearer' }]];
      case 'login':
        return file.token === undefined || file.headers ? [] : [[one, { type: 'http', scheme: 'bearer' }]];
      case 'api-key': {
        const [where, key] = Object.entries({ header: file.header, query: file.query, cookie: file.cookie }).find(
          ([, value]) => value !== undefined,
        ) ?? ['header', undefined];
        return key === undefined ? [] : [[one, { type: 'apiKey', in: where, name: key }]];
      }
      default:
        return [];
    }
  });
  if (schemes.length === 0) return {};
  const safe = (one: string): string => one.replaceAll(/[^\w.-]/g, '-');
  for (const [one, scheme] of schemes) security[safe(one)] = scheme;
  return { security: [Object.fromEntries(schemes.map(([one]) => [safe(one), []]))] };
}

/** Documented responses, and beside them those that came and are not documented. */
function responsesOf(documented: Json | undefined, seen: readonly Echo[], isDocumented: boolean): Json {
  const all: Json = { ...documented };
  const byStatus = new Map<string, Echo[]>();
  for (const echo of seen) {
    const status = String(echo.received?.status);
    if (Object.hasOwn(all, status) || Object.hasOwn(all, `${status[0]}XX`)) continue;
    byStatus.set(status, [...(byStatus.get(status) ?? []), echo]);
  }
  for (const [status, echoes] of [...byStatus].sort(([a], [b]) => a.localeCompare(b))) {
    const [first] = echoes;
    const type = first?.received?.headers.find(([name]) => name.toLowerCase() === 'content-type')?.[1].split(';')[0];
    const values = echoes.flatMap(({ received }) => jsonOf(received?.body?.text));
    all[status] = {
      description: `${first?.received?.reason ?? ''}${isDocumented ? ', not documented' : ''}`,
      ...(type !== undefined && {
        content: {
          [type.trim()]: values.length > 0 ? { schema: inferredSchema(values) } : { schema: { type: 'string' } },
        },
      }),
      'x-from': `echo ${first?.id}`,
    };
  }
  if (Object.keys(all).length === 0) all.default = { description: 'No response was recorded.' };
  return all;
}

function jsonOf(text: string | undefined): Value[] {
  if (text === undefined || text === '') return [];
  try {
    return [parseJson(text)];
  } catch {
    return [];
  }
}

/** Examples of fields that hold secrets, or what was hidden, are left out. */
function inferredSchema(values: readonly Value[]): Json {
  const [first] = values;
  const fields = inferFields(values);
  const schema = fields.length > 0 ? objectSchema(fields) : { type: typeOf(first) };
  const made = Array.isArray(first) && fields.length > 0 ? { type: 'array', items: schema } : schema;
  return withoutSecrets(made, '') as Json;
}

function withoutSecrets(value: unknown, name: string): unknown {
  if (Array.isArray(value)) return value.map((one) => withoutSecrets(one, name));
  if (typeof value !== 'object' || value === null) return value;
  const made: Json = {};
  for (const [key, item] of Object.entries(value)) {
    const secret = key === 'examples' && (isSecretName(name) || JSON.stringify(item).includes(hidden));
    if (!secret) made[key] = withoutSecrets(item, key === 'properties' ? name : key);
  }
  return made;
}
