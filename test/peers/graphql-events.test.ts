/** A GraphQL server that others wrote responses queries with server-sent events, one by one. */
import assert from 'node:assert/strict';
import { createServer, type Server } from 'node:http';
import { after, before, test } from 'node:test';
import { buildSchema, type GraphQLField, type GraphQLObjectType } from 'graphql';
import { createHandler } from 'graphql-sse/lib/use/http';
import { collectionOf } from '../support/folder.js';
import { document, echoTrail } from '../support/program.js';

let server: Server;
let origin = '';

async function* tides(): AsyncGenerator<{ tides: { quay: string; height: number } }> {
  for (const height of [1, 2, 3]) yield { tides: { quay: 'north élevé', height } };
}

before(async () => {
  const schema = buildSchema(
    'type Tide { quay: String!, height: Int! }\ntype Query { pilots: Int! }\ntype Subscription { tides: Tide! }',
  );
  const field = (type: 'Query' | 'Subscription', name: string): GraphQLField<unknown, unknown> =>
    (schema.getType(type) as GraphQLObjectType).getFields()[name] as GraphQLField<unknown, unknown>;
  field('Query', 'pilots').resolve = () => 7;
  field('Subscription', 'tides').subscribe = tides;
  const handler = createHandler({ schema });
  server = createServer((request, response) => void handler(request, response));
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  origin = `http://127.0.0.1:${(server.address() as { port: number }).port}`;
});
after(() => {
  server.closeAllConnections();
  server.close();
});

const collection = (): string =>
  collectionOf(
    {
      'requests/tides.yaml':
        'method: POST\nchanges: false\nurl: ${origin}/\nheaders: {Accept: text/event-stream}\nbody: {graphql: {document: "subscription { tides { quay height } }"}}\n',
      'requests/pilots.yaml':
        'method: POST\nchanges: false\nurl: ${origin}/\nheaders: {Accept: text/event-stream}\nbody: {graphql: {document: "{ pilots }"}}\n',
    },
    origin,
  );

test('the events of a subscription are shown as they come', async () => {
  const live = await echoTrail(['send', 'tides', '--live'], { cwd: collection() });
  assert.equal(live.status, 0, live.err);
  const heights = [...live.out.matchAll(/"height":(\d)/g)].map(([, height]) => height);
  assert.deepEqual(heights, ['1', '2', '3']);
  assert.match(live.out, /north élevé/);
  assert.match(live.out, /event: complete/);
});

test('a query by events has its whole response in the echo', async () => {
  const cwd = collection();
  const sent = await echoTrail(['send', 'pilots'], { cwd });
  assert.equal(sent.status, 0, sent.err);
  const echo = document<{ received: { status: number; body: { text: string } } }>(
    await echoTrail(['echo', 'show', '--json'], { cwd }),
  );
  assert.equal(echo.received.status, 200);
  assert.match(echo.received.body.text, /"pilots":7/);
});
