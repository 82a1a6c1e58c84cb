/** A rehearsed vendor, asked by clients that others wrote: GraphQL over HTTP and server-sent events, SOAP, OAuth. */
import assert from 'node:assert/strict';
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { createClient as createHttpClient } from 'graphql-http';
import { createClient as createEventClient } from 'graphql-sse';
import * as oauth from 'oauth4webapi';
import { createClientAsync } from 'soap';
import { customsWsdl } from '../support/customs-wsdl.js';
import { collectionOf } from '../support/folder.js';
import { echoTrail } from '../support/program.js';
import { rehearsed } from '../support/rehearsal.js';

async function rehearsedFrom(
  name: string,
  text: string,
  ...args: readonly string[]
): Promise<Awaited<ReturnType<typeof rehearsed>> & { readonly cwd: string }> {
  const cwd = collectionOf({});
  writeFileSync(join(cwd, name), text);
  const added = await echoTrail(['docs', 'add', name, '--name', 'vendor'], { cwd });
  assert.equal(added.status, 0, added.err);
  return { ...(await rehearsed(cwd, ...args)), cwd };
}

const schema = `
  scalar DateTime
  enum Rank { HARBOUR SEA }
  interface Named { id: ID! name: String! }
  type Pilot implements Named { id: ID! name: String! rank: Rank! since: DateTime boats: [Boat!]! }
  type Boat implements Named { id: ID! name: String! lengthM: Float! pilot: Pilot }
  union Found = Pilot | Boat
  input PilotInput { name: String! rank: Rank }
  type Query { pilot(id: ID!): Pilot pilots(first: Int): [Pilot!]! find(text: String!): [Found!]! }
  type Mutation { addPilot(input: PilotInput!): Pilot! renamePilot(id: ID!, name: String!): Pilot! }
  type Subscription { arrived: Boat! }
`;

interface Pilot {
  readonly id: string;
  readonly name: string;
  readonly rank: string;
}

test('GraphQL: queries by the schema, and what mutations say is remembered', async () => {
  const { origin } = await rehearsedFrom('pilots.graphql', schema);
  const client = createHttpClient({ url: `${origin}/graphql` });
  const ask = <T>(query: string, variables?: Record<string, unknown>): Promise<T> =>
    new Promise((resolve, reject) => {
      let last: { data?: unknown; errors?: unknown };
      client.subscribe(
        { query, ...(variables && { variables }) },
        {
          next: (one) => {
            last = one as typeof last;
          },
          error: reject,
          complete: () => (last.errors ? reject(last.errors) : resolve(last.data as T)),
        },
      );
    });
  const all = await ask<{ pilots: (Pilot & { boats: { lengthM: number }[] })[] }>(
    '{ pilots(first: 3) { id name rank since boats { lengthM } } }',
  );
  assert.equal(new Set(all.pilots.map(({ id }) => id)).size, 3);
  assert.ok(
    all.pilots.every(
      ({ rank, boats }) => /^(?:HARBOUR|SEA)$/.test(rank) && boats.every(({ lengthM }) => typeof lengthM === 'number'),
    ),
  );
  const { addPilot } = await ask<{ addPilot: Pilot }>(
    'mutation ($input: PilotInput!) { addPilot(input: $input) { id name rank } }',
    { input: { name: 'Ann Tide', rank: 'SEA' } },
  );
  assert.deepEqual([addPilot.name, addPilot.rank], ['Ann Tide', 'SEA']);
  const read = (id: string): Promise<{ pilot: Pilot }> =>
    ask('query ($id: ID!) { pilot(id: $id) { id name rank } }', { id });
  assert.deepEqual((await read(addPilot.id)).pilot, addPilot);
  await ask('mutation ($id: ID!) { renamePilot(id: $id, name: "Bo Quay") { id } }', { id: addPilot.id });
  assert.deepEqual((await read(addPilot.id)).pilot, { ...addPilot, name: 'Bo Quay' });
  const { find } = await ask<{ find: { __typename: string }[] }>(
    '{ find(text: "tern") { __typename ... on Named { name } } }',
  );
  assert.match(find[0]?.__typename ?? '', /^(?:Pilot|Boat)$/);
  await assert.rejects(ask('{ pilots { nme } }'), /Cannot query field|nme|400/i);
});

test('GraphQL: a subscription comes as server-sent events, and ends', async () => {
  const { origin } = await rehearsedFrom('pilots.graphql', schema);
  const client = createEventClient({ url: `${origin}/graphql`, retryAttempts: 0 });
  const names: string[] = [];
  for await (const { data } of client.iterate<{ arrived: { name: string } }>({
    query: 'subscription { arrived { id name } }',
  }))
    names.push(data?.arrived.name ?? '');
  assert.equal(names.length, 3);
  client.dispose();
});

test('SOAP: a response by the WSDL, and a fault that says what is wrong with an envelope', async () => {
  const { origin, cwd } = await rehearsedFrom('customs.wsdl', customsWsdl('http://customs.larkhaven.example/customs'));
  const client = await createClientAsync(join(cwd, 'customs.wsdl'), {}, `${origin}/customs`);
  const [declared] = (await client.DeclareAsync({ vessel: 'Amber Tern', tonnes: 7 })) as [{ mark: string }];
  assert.equal(typeof declared.mark, 'string');
  await assert.rejects(client.DeclareAsync({ vessel: 'Amber Tern', tonnes: 'seven' }), /tonnes/);
});

test('OAuth: the token address of the description issues tokens, which its operations take', async () => {
  const description = JSON.stringify({
    openapi: '3.1.0',
    info: { title: 'Desk', version: '1' },
    components: {
      securitySchemes: {
        desk: { type: 'oauth2', flows: { clientCredentials: { tokenUrl: '/passes/token', scopes: {} } } },
      },
    },
    paths: {
      '/lamps': { get: { operationId: 'lamps', security: [{ desk: [] }], responses: { 200: { description: 'all' } } } },
    },
  });
  const { origin, fetch: ask } = await rehearsedFrom('desk.json', description);
  const server: oauth.AuthorizationServer = { issuer: origin, token_endpoint: `${origin}/passes/token` };
  const client: oauth.Client = { client_id: 'desk' };
  const response = await oauth.clientCredentialsGrantRequest(
    server,
    client,
    oauth.ClientSecretBasic('made-up'),
    new URLSearchParams(),
    { [oauth.allowInsecureRequests]: true },
  );
  const { access_token } = await oauth.processClientCredentialsResponse(server, client, response);
  assert.equal((await ask('GET', '/lamps')).status, 401);
  assert.equal((await ask('GET', '/lamps', { headers: { authorization: `Bearer ${access_token}` } })).status, 200);
  const wrong = await ask('POST', '/passes/token', {
    headers: { 'content-type': 'application/x-www-form-urlencoded' },
  });
  assert.deepEqual([wrong.status, (wrong.json as { error: string }).error], [400, 'invalid_request']);
});
