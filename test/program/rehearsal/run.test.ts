/** `--rehearse`: a command against a vendor that is not there. Nothing reaches any host, and nothing of it is taken for the vendor's. */
import assert from 'node:assert/strict';
import { existsSync, readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { join } from 'node:path';
import { after, before, test } from 'node:test';
import { collectionOf, demoCollection, writeIn } from '../../support/folder.js';
import { documentLines, echoTrail } from '../../support/program.js';
import { harbourForThisFile } from '../../support/standin.js';

/** A host that counts whoever so much as connects to it. */
let connections = 0;
let origin = '';
const watched = createServer((_request, response) => response.end('{}'));
watched.on('connection', () => {
  connections += 1;
});
before(async () => {
  await new Promise<void>((resolve) => watched.listen(0, '127.0.0.1', resolve));
  origin = `http://127.0.0.1:${(watched.address() as { port: number }).port}`;
});
after(() => {
  watched.closeAllConnections();
  watched.close();
});

test('a trail passes against the rehearsed harbour without a secret, and the real host is never connected to', async () => {
  const cwd = demoCollection(origin);
  for (const trouble of [[], ['--trouble', 'throttle=20%,slow=5ms']]) {
    const ended = await echoTrail(['run', 'berth-stay', '--rehearse', ...trouble], { cwd });
    assert.equal(ended.status, 0, ended.err + ended.out);
    assert.match(ended.out, /berth-stay: passed +8 steps/);
  }
  const sent = await echoTrail(['send', 'vessels/show', '--rehearse'], { cwd });
  assert.equal(sent.status, 0, sent.err);
  assert.match(sent.err, /environment sandbox \(rehearsed\)/);
  assert.equal(connections, 0);
});

test('every other host is out of reach too: those of tokens, proxies, redirects and looking ahead', async () => {
  const files = {
    'docs/desk.yaml': JSON.stringify({
      openapi: '3.1.0',
      info: { title: 'Desk', version: '1' },
      servers: [{ url: 'https://desk.larkhaven.example/api' }],
      components: {
        securitySchemes: {
          desk: {
            type: 'oauth2',
            flows: { clientCredentials: { tokenUrl: 'https://tokens.larkhaven.example/token', scopes: {} } },
          },
        },
      },
      paths: {
        '/lamps': {
          get: {
            operationId: 'lamps',
            security: [{ desk: [] }],
            responses: {
              200: {
                description: 'all',
                content: {
                  'application/json': {
                    schema: {
                      type: 'array',
                      items: {
                        type: 'object',
                        required: ['id'],
                        properties: { id: { type: 'string' }, lit: { type: 'boolean' } },
                      },
                    },
                  },
                },
              },
            },
          },
        },
      },
    }),
    'echo-trail.yaml': 'name: test\nenvironment: sandbox\ndocs: {desk: {file: docs/desk.yaml}}\n',
    'environments/sandbox.yaml': `changes: refuse\nproxy: "${origin}"\nhosts: [desk.larkhaven.example, tokens.larkhaven.example]\nvariables: {origin: "https://desk.larkhaven.example"}\n`,
    'sessions/desk.yaml':
      'kind: oauth2\ngrant: client_credentials\nendpoints: {token: https://tokens.larkhaven.example/token}\nclient: {id: desk, secret: "${secret.deskKey}"}\n',
    'requests/lamps.yaml':
      'operation: desk/lamps\nurl: ${origin}/api/lamps\nsession: desk\nexpect: {status: 200, $: {exists: true}}\n',
    'trails/look.yaml': 'steps: [{send: lamps}, {send: lamps}]\n',
  };
  const cwd = collectionOf(files);
  const kinds = await echoTrail(['check', '--json'], { cwd });
  assert.equal(kinds.status, 0, kinds.err + kinds.out);
  const before = connections;
  const ended = await echoTrail(['run', 'look', '--rehearse', '--json'], { cwd });
  assert.equal(ended.status, 0, ended.err + ended.out);
  assert.equal(connections, before);
});

test('what was rehearsed is kept apart: its session, its records, and what it is resumed or shared as', async () => {
  const cwd = demoCollection(origin);
  const ended = await echoTrail(['run', 'berth-stay', '--rehearse', '--json'], { cwd });
  const [run] = documentLines(ended);
  assert.equal(run?.environment, 'sandbox (rehearsed)');
  for (const args of [
    ['run', '--resume', String(run?.run)],
    ['run', '--undo', String(run?.run)],
  ]) {
    const refused = await echoTrail(args, { cwd });
    assert.equal(refused.status, 2);
    assert.match(refused.err, /was rehearsed, and its vendor is not there any more/);
  }
  const shared = await echoTrail(['rehearse', 'record', 'last', '--to', 'rehearsal/stay.jsonl'], { cwd });
  assert.equal(shared.status, 2);
  assert.match(shared.err, /was itself rehearsed/);
  // Without a rehearsal there is no session, and no secret to open one.
  const real = await echoTrail(['send', 'vessels/show'], { cwd });
  assert.equal(real.status, 4, real.err + real.out);
});

test('what a real run recorded is shared without secrets, and rehearsed on another machine', async () => {
  const harbour = await harbourForThisFile();
  const cwd = demoCollection(harbour.origin);
  const env = { ECHO_TRAIL_SECRET_DESK_PASSWORD: harbour.credentials.password };
  const other = ['--set', 'imo=9000031'];
  const ran = await echoTrail(['run', 'vessels/show', ...other], { cwd, env });
  assert.equal(ran.status, 0, ran.err + ran.out);
  const recorded = await echoTrail(['rehearse', 'record', '--to', 'rehearsal/show.jsonl'], { cwd });
  assert.equal(recorded.status, 0, recorded.err);
  const text = readFileSync(join(cwd, 'rehearsal/show.jsonl'), 'utf8');
  assert.doesNotMatch(text, new RegExp(`${harbour.credentials.password}|[Aa]uthorization|user-agent`));
  const elsewhere = demoCollection('http://127.0.0.1:9');
  writeIn(elsewhere, 'rehearsal/show.jsonl', text);
  const args = ['send', 'vessels/show', ...other, '--rehearse', '--pick', '$.name'];
  const [from, without] = [
    await echoTrail(args, { cwd: elsewhere }),
    await echoTrail(args, { cwd: demoCollection('http://127.0.0.1:9') }),
  ];
  const real = await echoTrail(['send', 'vessels/show', ...other, '--pick', '$.name'], { cwd, env });
  assert.equal(from.out, real.out);
  assert.notEqual(without.out, real.out);
  assert.equal(existsSync(join(elsewhere, '.echo-trail/secrets.sealed')), false);
});

for (const [args, expected] of [
  [['--trouble', 'slow=1s'], /--trouble requires --rehearse/],
  [['--rehearse', '--trouble', 'storm=1'], /--trouble does not take storm=1/],
  [['--rehearse', '--trouble', 'throttle=2'], /--throttle takes a share of the requests/],
] as const)
  test(`run ${args.join(' ')} is refused`, async () => {
    const ended = await echoTrail(['run', 'berth-stay', ...args], { cwd: demoCollection(origin) });
    assert.equal(ended.status, 2);
    assert.match(ended.err, expected);
  });
