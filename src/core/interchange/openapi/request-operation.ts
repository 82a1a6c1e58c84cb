/** What a request of a collection sends, as an operation of OpenAPI 3.1. */
import type { Loaded } from '../../collection/collection.js';
import type { RequestFile } from '../../collection/files/request-file.js';
import { ownMember } from '../../value/own-member.js';
import { isValueMap, plain, typeOf, type Value } from '../../value/written.js';
import { plainValue } from './schemas.js';

type Json = Record<string, unknown>;

/** What a request sends, where nobody documents it. */
export function requestOperation({ name, content }: Loaded<RequestFile>, path: string): Json {
  const { about, inputs = {}, query = {}, headers = {}, body } = content;
  const input = (one: string): Json => {
    const declared = ownMember(inputs, one);
    const fallback = declared?.default;
    const type = declared?.type;
    return {
      ...(type !== undefined && { type }),
      ...(type === undefined && { type: 'string' }),
      ...(fallback !== undefined && !holdsExpression(fallback) && { default: plainValue(fallback) }),
      ...(declared?.['one-of'] && { enum: plainValue(declared['one-of'] as Value) }),
      ...(declared?.matches !== undefined && { pattern: declared.matches }),
    };
  };
  const parameters = [
    ...[...path.matchAll(/\{([\w-]+)\}/g)].map(([, one = '']) => ({
      name: one,
      in: 'path',
      required: true,
      schema: input(one),
    })),
    ...Object.entries(query).map(([one, value]) => ({
      name: one,
      in: 'query',
      required: false,
      schema: schemaOfValue(value, input),
    })),
    ...Object.entries(headers)
      .filter(([one]) => !/^(?:accept|content-type|authorization)$/i.test(one))
      .map(([one, value]) => ({ name: one, in: 'header', required: false, schema: schemaOfValue(value, input) })),
  ];
  return {
    operationId: name.replaceAll('/', '-'),
    ...(about !== undefined && { summary: about }),
    'x-from': 'request',
    ...(parameters.length > 0 && { parameters }),
    ...(body && { requestBody: requestBody(body, input) }),
  };
}

const holdsExpression = (value: Value): boolean => JSON.stringify(value).includes('${');

/** Of a value of a request: an expression that is one input has its type. */
function schemaOfValue(value: Value, input: (name: string) => Json): Json {
  if (typeof value === 'string') {
    const [, name] = /^\$\{([\w-]+)\}$/.exec(value) ?? [];
    if (name !== undefined) return input(name);
    return value.includes('${') ? { type: 'string' } : { type: 'string', examples: [value] };
  }
  if (Array.isArray(value)) {
    const [first] = value as readonly Value[];
    return { type: 'array', items: first === undefined ? {} : schemaOfValue(first, input) };
  }
  if (isValueMap(value))
    return {
      type: 'object',
      properties: Object.fromEntries(
        Object.entries(value).map(([key, item]) => [key, schemaOfValue(item as Value, input)]),
      ),
    };
  const type = typeOf(value);
  return type === 'null' ? {} : { type, examples: [plain(value)] };
}

const bodyTypes: Readonly<Record<string, string>> = {
  json: 'application/json',
  form: 'application/x-www-form-urlencoded',
  parts: 'multipart/form-data',
  xml: 'application/xml',
  soap: 'text/xml',
  text: 'text/plain',
  file: 'application/octet-stream',
  template: 'application/octet-stream',
  graphql: 'application/json',
};

function requestBody(body: NonNullable<RequestFile['body']>, input: (name: string) => Json): Json {
  const [[kind, value]] = Object.entries(body) as [[string, Value]];
  const type = kind === 'template' && String(value).endsWith('.json') ? 'application/json' : ownMember(bodyTypes, kind);
  const schema =
    kind === 'json' || kind === 'form' || kind === 'parts'
      ? schemaOfValue(value, input)
      : kind === 'graphql'
        ? { type: 'object', properties: { query: { type: 'string' }, variables: { type: 'object' } } }
        : { type: 'string' };
  return { content: { [type ?? 'application/octet-stream']: { schema } }, 'x-from': 'request' };
}
