/** Documents behind a log-in: fetched with a session of the collection, which goes to their own host alone. */
import assert from 'node:assert/strict';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { after, test } from 'node:test';
import { collectionOf, everyFile } from '../../support/folder.js';
import { echoTrail } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';

const token = 'gull-rock-lantern-77';
const env = { ECHO_TRAIL_SECRET_DOCS: token };
let edition = 1;

const other = await rawServer(() => responseOf('{"type": "string"}'));
const server = await rawServer((head) => {
  if (!head.includes(`Authorization: Bearer ${token}`))
    return responseOf('{"title": "log in"}', { status: '401 Unauthorized' });
  if (head.startsWith('GET /parts.json'))
    return responseOf('{"Berth": {"type": "object", "properties": {"code": {"type": "string"}}}}');
  const schema = { $ref: 'parts.json#/Berth' };
  const far = { $ref: `${other.origin}/far.json` };
  const answer = (description: string): object => ({
    description,
    content: { 'application/json': { schema } },
  });
  return responseOf(
    JSON.stringify({
      openapi: '3.1.0',
      info: { title: 'Berths', version: String(edition) },
      paths: {
        '/berths': { get: { operationId: 'listBerths', responses: { 200: answer('ok') } } },
        ...(edition > 1 && { '/quays': { get: { operationId: 'listQuays', responses: { 200: answer('ok') } } } }),
      },
      components: { schemas: { Far: far } },
    }),
  );
});
after(async () => {
  await server.close();
  await other.close();
});

const files = { 'sessions/docs.yaml': 'kind: bearer\ntoken: ${secret.docs}\n' };
const address = `${server.origin}/openapi.json`;

test('what it refers to at its own host is fetched with the session too, what is elsewhere without', async () => {
  const cwd = collectionOf(files, server.origin);
  const bare = await echoTrail(['docs', 'add', address, '--name', 'berths'], { cwd, env });
  assert.equal(bare.status, 2, bare.err);
  assert.match(bare.err, /returned 401[\s\S]*--session NAME fetches it with a session/);
  const host = new URL(other.origin).host;
  const added = await echoTrail(
    ['docs', 'add', address, '--name', 'berths', '--session', 'docs', '--fetch-from', host],
    { cwd, env },
  );
  assert.equal(added.status, 0, added.err);
  assert.match(added.out, /berths: Berths, OpenAPI 3\.1\.0, 1 operation, .* with 2 more beside it/);
  assert.match(other.received.join(''), /GET \/far\.json/);
  assert.doesNotMatch(other.received.join(''), /gull-rock/);
  assert.match(readFileSync(join(cwd, 'echo-trail.yaml'), 'utf8'), /session: docs/);
  edition = 2;
  const fresh = await echoTrail(['docs', 'refresh', '--accept', '--fetch-from', host], { cwd, env });
  assert.match(fresh.out, /added +listQuays/, fresh.err);
  assert.match(readFileSync(join(cwd, 'echo-trail.yaml'), 'utf8'), /session: docs/);
  for (const { path, text } of everyFile(cwd)) assert.ok(!text.includes(token), path);
});

test('a session goes to no host that the environment does not list', async () => {
  const cwd = collectionOf({
    ...files,
    'environments/sandbox.yaml': 'variables: {origin: "https://api.larkhaven.example"}\n',
  });
  const before = server.received.length;
  const refused = await echoTrail(['docs', 'add', address, '--name', 'berths', '--session', 'docs'], { cwd, env });
  assert.equal(refused.status, 4, refused.err);
  assert.match(refused.err, /does not list 127\.0\.0\.1/);
  assert.equal(server.received.length, before);
  const file = await echoTrail(['docs', 'add', 'berths.json', '--session', 'docs'], { cwd, env });
  assert.match(file.err, /--session requires an address/);
});
