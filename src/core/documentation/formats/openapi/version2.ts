/** OpenAPI 2.0 said in the words of 3: body and form parameters become a request body, types become schemas. */
import { ownMember } from '../../../value/own-member.js';
import { isMap, type Json, type JsonMap, type References } from './references.js';

/** What a whole 2.0 document says for all its operations. */
export interface Version2 {
  readonly consumes: readonly string[];
  readonly produces: readonly string[];
}

export const version2Of = (root: JsonMap): Version2 => ({
  consumes: texts(root.consumes),
  produces: texts(root.produces),
});

const texts = (value: Json | undefined): string[] =>
  Array.isArray(value) ? value.filter((one): one is string => typeof one === 'string') : [];

/** The address of the server. `origin` where host and scheme are left to whoever serves the document. */
export function server2(root: JsonMap, origin: string | undefined): JsonMap[] {
  const schemes = texts(root.schemes);
  const own = origin === undefined ? undefined : new URL(origin);
  const host = typeof root.host === 'string' ? root.host : own?.host;
  const scheme = schemes.find((one) => one === 'https') ?? schemes[0] ?? own?.protocol.replace(':', '') ?? 'https';
  const base = typeof root.basePath === 'string' ? root.basePath : '';
  return [{ url: host === undefined ? base : `${scheme}://${host}${base}` }];
}

/** Keys of a 2.0 parameter that belong to its schema. */
const schemaKeys = [
  'type',
  'format',
  'items',
  'enum',
  'default',
  'minimum',
  'maximum',
  'exclusiveMinimum',
  'exclusiveMaximum',
  'minLength',
  'maxLength',
  'pattern',
  'minItems',
  'maxItems',
  'uniqueItems',
  'multipleOf',
] as const;

const styles: Readonly<Record<string, JsonMap>> = {
  csv: { explode: false },
  multi: { explode: true },
  ssv: { explode: false, style: 'spaceDelimited' },
  pipes: { explode: false, style: 'pipeDelimited' },
};

/** The operation with all that is at its path, in the form of version 3. */
export function operation3(
  own: JsonMap,
  shared: Json | undefined,
  all: Version2,
  references: References,
  at: string,
): JsonMap {
  const parameters = [shared, own.parameters]
    .flatMap((list) => listed(list, references, at))
    .flatMap((given) => {
      const one = references.follow(given, at);
      if (one !== undefined && !isMap(one)) references.warn(at, 'a parameter is not a map');
      return isMap(one) ? [one] : [];
    });
  const consumes = own.consumes === undefined ? all.consumes : texts(own.consumes);
  const produces = own.produces === undefined ? all.produces : texts(own.produces);
  const body = parameters.find((one) => one.in === 'body');
  const fields = parameters.filter((one) => one.in === 'formData');
  const requestBody = body ? bodyOf(body, consumes) : fields.length > 0 ? formOf(fields, consumes) : undefined;
  return {
    ...own,
    parameters: parameters.filter((one) => one.in !== 'body' && one.in !== 'formData').map(parameter3),
    ...(requestBody && { requestBody }),
    responses: isMap(own.responses)
      ? Object.fromEntries(
          Object.entries(own.responses).map(([status, response]) => [
            status,
            response3(references.follow(response, at), produces),
          ]),
        )
      : (own.responses ?? {}),
  };
}

function listed(list: Json | undefined, references: References, at: string): readonly Json[] {
  if (list !== undefined && !Array.isArray(list)) references.warn(at, 'parameters is not a list');
  return Array.isArray(list) ? (list as readonly Json[]) : [];
}

function parameter3(given: JsonMap): JsonMap {
  const schema = schemaOf(given);
  const style = ownMember(styles, String(given.collectionFormat ?? 'csv')) ?? {};
  return {
    name: given.name ?? null,
    in: given.in ?? null,
    required: given.required ?? false,
    ...(given.description !== undefined && { description: given.description }),
    ...(given['x-example'] !== undefined && { example: given['x-example'] }),
    schema,
    ...(schema.type === 'array' && style),
  };
}

function schemaOf(given: JsonMap): JsonMap {
  return Object.fromEntries(schemaKeys.flatMap((key) => (given[key] === undefined ? [] : [[key, given[key] as Json]])));
}

function bodyOf(body: JsonMap, consumes: readonly string[]): JsonMap {
  const types = consumes.length > 0 ? consumes : ['application/json'];
  const content = { schema: body.schema ?? {} };
  return {
    required: body.required === true,
    ...(body.description !== undefined && { description: body.description }),
    content: Object.fromEntries(types.map((type) => [type, content])),
  };
}

function formOf(fields: readonly JsonMap[], consumes: readonly string[]): JsonMap {
  const file = fields.some((one) => one.type === 'file');
  const usual = file ? 'multipart/form-data' : 'application/x-www-form-urlencoded';
  const type = consumes.find((one) => /form/.test(one)) ?? usual;
  const properties = Object.fromEntries(
    fields.map((one) => {
      const schema = one.type === 'file' ? { type: 'string', format: 'binary' } : schemaOf(one);
      return [String(one.name), { ...schema, ...(one.description !== undefined && { description: one.description }) }];
    }),
  );
  const required = fields.filter((one) => one.required === true).map((one) => String(one.name));
  return { required: required.length > 0, content: { [type]: { schema: { type: 'object', properties, required } } } };
}

function response3(response: Json | undefined, produces: readonly string[]): Json {
  if (!isMap(response)) return response ?? null;
  const { schema, examples, headers, ...rest } = response;
  const example = (type: string): JsonMap =>
    isMap(examples) && ownMember(examples, type) !== undefined ? { example: ownMember(examples, type) as Json } : {};
  const types = produces.length > 0 ? produces : ['application/json'];
  return {
    ...rest,
    ...(schema !== undefined && {
      content: Object.fromEntries(types.map((type) => [type, { schema, ...example(type) }])),
    }),
    ...(isMap(headers) && {
      headers: Object.fromEntries(
        Object.entries(headers).map(([name, one]) => [
          name,
          isMap(one)
            ? { ...(one.description !== undefined && { description: one.description }), schema: schemaOf(one) }
            : one,
        ]),
      ),
    }),
  };
}

/** `securityDefinitions` in the form of `components.securitySchemes`. */
export function securitySchemes3(given: Json | undefined): JsonMap {
  if (!isMap(given)) return {};
  return Object.fromEntries(
    Object.entries(given).map(([name, scheme]) => {
      if (!isMap(scheme)) return [name, scheme];
      if (scheme.type === 'basic') return [name, { type: 'http', scheme: 'basic' }];
      return [
        name,
        scheme.type === 'oauth2'
          ? { ...scheme, flows: { [String(scheme.flow)]: { tokenUrl: scheme.tokenUrl ?? null } } }
          : scheme,
      ];
    }),
  );
}
