/** `draft` of many operations, of subscriptions, and of sessions: what it writes passes the check. */
import assert from 'node:assert/strict';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { parse } from 'yaml';
import { collectionOf, writeIn } from '../../support/folder.js';
import { document, type Ended, echoTrail } from '../../support/program.js';

const ok = { 200: { description: 'ok' } };
const at = (name: string): object => ({ name, in: 'path', required: true, schema: { type: 'string' } });
const quays = {
  openapi: '3.0.3',
  info: { title: 'Quays', version: '1' },
  servers: [{ url: 'https://quays.example' }],
  security: [{ quayKey: [], pass: ['berths'] }],
  paths: {
    '/quays': { get: { operationId: 'listQuays', tags: ['quays'], responses: ok } },
    '/quays/{quayId}': { get: { operationId: 'showQuay', tags: ['quays'], parameters: [at('quayId')], responses: ok } },
    '/cranes': { get: { operationId: 'listCranes', tags: ['cranes'], security: [], responses: ok } },
  },
  components: {
    securitySchemes: {
      quayKey: { type: 'apiKey', in: 'header', name: 'X-Quay' },
      pass: {
        type: 'oauth2',
        flows: { clientCredentials: { tokenUrl: 'https://passes.example/token', scopes: { berths: 'Berths' } } },
      },
    },
  },
};

async function quayCollection(): Promise<string> {
  const cwd = collectionOf({
    'environments/sandbox.yaml':
      'changes: ask\nvariables: {origin: https://quays.example}\nhosts: [https://passes.example]\n',
  });
  writeIn(cwd, 'quays.json', JSON.stringify(quays));
  const added = await echoTrail(['docs', 'add', 'quays.json', '--name', 'quays'], { cwd });
  assert.equal(added.status, 0, added.err);
  return cwd;
}

const read = (cwd: string, file: string): Record<string, unknown> => parse(readFileSync(join(cwd, file), 'utf8'));
const works = (ended: Ended): Ended => {
  assert.equal(ended.status, 0, ended.err);
  return ended;
};

test('a draft writes the sessions that the operation wants, and says which secrets they need', async () => {
  const cwd = await quayCollection();
  const { out, err } = works(await echoTrail(['draft', 'listQuays'], { cwd }));
  assert.match(out, /wrote sessions\/quay-key\.yaml {2}api-key\nwrote sessions\/pass\.yaml {2}oauth2/);
  assert.match(err, /secret set quayKey[\s\S]*secret set passClientId[\s\S]*secret set passClientSecret/);
  assert.match(err, /it sends to https:\/\/passes\.example/);
  assert.deepEqual(read(cwd, 'requests/quays/list-quays.yaml').session, ['quay-key', 'pass']);
  assert.deepEqual(read(cwd, 'sessions/pass.yaml').endpoints, { token: 'https://passes.example/token' });
  works(await echoTrail(['draft', 'showQuay'], { cwd }));
  assert.deepEqual(read(cwd, 'requests/quays/show-quay.yaml').session, ['quay-key', 'pass']);
  works(await echoTrail(['draft', 'listCranes'], { cwd }));
  assert.equal(read(cwd, 'requests/cranes/list-cranes.yaml').session, 'none');
  assert.match(works(await echoTrail(['check'], { cwd })).out, /no findings/);
});

test('a group, or everything, is drafted at once; what is there is passed over', async () => {
  const cwd = await quayCollection();
  assert.match(
    works(await echoTrail(['draft', '--group', 'quays'], { cwd })).out,
    /list-quays\.yaml\nwrote .*show-quay\.yaml/,
  );
  const all = works(await echoTrail(['draft', '--all', '--json'], { cwd }));
  const { drafted, passed } = JSON.parse(all.out) as {
    drafted: { operation: string }[];
    passed: { operation: string }[];
  };
  assert.deepEqual(
    drafted.map(({ operation }) => operation),
    ['quays/listCranes'],
  );
  assert.deepEqual(
    passed.map(({ operation }) => operation),
    ['quays/listQuays', 'quays/showQuay'],
  );
  const named = await echoTrail(['draft', '--all', '--optional', 'x'], { cwd });
  assert.match(named.err, /--optional NAMES is for one operation/);
  const none = await echoTrail(['draft', '--group', 'quay'], { cwd });
  assert.equal(none.status, 2);
  assert.match(none.err, /no documented group is called quay[\s\S]*did you mean quays\?/);
  for (const args of [['draft'], ['draft', 'listQuays', '--all'], ['draft', '--all', '--as', 'x']])
    assert.match((await echoTrail(args, { cwd })).err, /draft takes one operation, or --group NAME, or --all/);
});

test('draft session writes one scheme, once, and names those that there are', async () => {
  const cwd = await quayCollection();
  const made = document(works(await echoTrail(['draft', 'session', 'quayKey', '--json'], { cwd })));
  assert.deepEqual(made, {
    session: 'quay-key',
    file: 'sessions/quay-key.yaml',
    kind: 'api-key',
    secrets: ['quayKey'],
    origins: [],
  });
  assert.ok(existsSync(join(cwd, 'sessions/quay-key.yaml')));
  assert.match((await echoTrail(['draft', 'session', 'quayKey'], { cwd })).err, /there is a session quay-key already/);
  assert.match((await echoTrail(['draft', 'session'], { cwd })).err, /quays\/quayKey, quays\/pass/);
  assert.match(
    (await echoTrail(['draft', 'session', 'pas'], { cwd })).err,
    /no security scheme pas is documented[\s\S]*did you mean pass/,
  );
});

test('GraphQL: types that conflict get aliases, arguments with a default may be left out, a subscription is a stream', async () => {
  const cwd = collectionOf({});
  writeIn(
    cwd,
    'rota.graphql',
    `interface Craft { id: ID! }
type Tug implements Craft { id: ID!, power: Int!, name: String! }
type Barge implements Craft { id: ID!, power: String, name: String! }
type Query { crafts(first: Int! = 10, port: String!): [Craft!]!, craft(id: ID!): Craft, count: Int }
type Subscription { boarded: Craft }`,
  );
  works(await echoTrail(['docs', 'add', 'rota.graphql', '--name', 'rota'], { cwd }));
  works(await echoTrail(['draft', '--all'], { cwd }));
  const crafts = read(cwd, 'requests/queries/crafts.yaml') as {
    body: { graphql: { document: string; variables: object } };
    expect: object;
  };
  assert.match(
    crafts.body.graphql.document,
    /query crafts\(\$port: String!, \$first: Int\)|query crafts\(\$first: Int, \$port: String!\)/,
  );
  assert.match(crafts.body.graphql.document, /powerOfBarge: power/);
  assert.deepEqual(crafts.body.graphql.variables, { port: '${port}' });
  assert.deepEqual((crafts.expect as Record<string, unknown>)['$.data.crafts'], { type: 'array' });
  const count = read(cwd, 'requests/queries/count.yaml').expect as Record<string, unknown>;
  assert.deepEqual(count['$.data.count'], { exists: true, not: null });
  const boarded = read(cwd, 'requests/subscriptions/boarded.yaml');
  assert.deepEqual(boarded.headers, { Accept: 'text/event-stream' });
  assert.equal(boarded.changes, false);
  const live = works(await echoTrail(['draft', 'boarded', '--as', 'again'], { cwd }));
  assert.match(live.err, /next: echo-trail send again --live/);
  assert.match(works(await echoTrail(['check'], { cwd })).out, /no findings/);
});

test('a GraphQL schema in many files is read as one, also when it is refreshed', async () => {
  const cwd = collectionOf({});
  writeIn(cwd, 'schema/query.graphql', 'type Query { crane(id: ID!): Crane }\n');
  writeIn(
    cwd,
    'schema/types/crane.graphqls',
    'type Crane { id: ID!, reach: Float }\nextend type Query { cranes: [Crane!]! }\n',
  );
  writeIn(cwd, 'schema/notes.txt', 'not a schema');
  const added = works(await echoTrail(['docs', 'add', 'schema', '--name', 'cranes'], { cwd }));
  assert.match(added.out, /cranes: .*GraphQL schema, 2 operations/);
  writeIn(cwd, 'schema/more.gql', 'extend type Query { berths: Int }\n');
  assert.match(works(await echoTrail(['docs', 'refresh', 'cranes', '--accept'], { cwd })).out, /added +berths/);
  writeIn(cwd, 'empty/notes.txt', 'not a schema');
  const none = await echoTrail(['docs', 'add', 'empty', '--name', 'none'], { cwd });
  assert.equal(none.status, 2);
  assert.match(none.err, /empty is a folder without a file of a GraphQL schema/);
});

test('a pattern names the files of a GraphQL schema, also when it is refreshed', async () => {
  const cwd = collectionOf({});
  writeIn(cwd, 'schema/query.graphql', 'type Query { crane(id: ID!): Crane }\n');
  writeIn(cwd, 'schema/types/crane.graphql', 'type Crane { id: ID! }\n');
  writeIn(cwd, 'schema/types/berth.gql', 'extend type Query { berths: Int }\n');
  const added = works(await echoTrail(['docs', 'add', 'schema/**/*.graphql', '--name', 'cranes'], { cwd }));
  assert.match(added.out, /cranes: .*GraphQL schema, 1 operation,/);
  writeIn(cwd, 'schema/types/dock.graphql', 'extend type Query { docks: Int }\n');
  assert.match(works(await echoTrail(['docs', 'refresh', 'cranes', '--accept'], { cwd })).out, /added +docks/);
  const several = await echoTrail(['docs', 'add', 'schema/query.graphql', 'schema/types/crane.graphql'], { cwd });
  assert.equal(several.status, 2);
  assert.match(several.err, /takes one file or address, and got 2[\s\S]*put a pattern in quotes/);
  assert.match((await echoTrail(['docs', 'add', 'schema/*.sdl'], { cwd })).err, /schema\/\*\.sdl matches no file/);
});
