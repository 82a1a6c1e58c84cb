/** Where somebody new stumbles: each with what is said, and what helps. */
import assert from 'node:assert/strict';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import { collectionOf, demoCollection, temporaryFolder } from '../../support/folder.js';
import { document, echoTrail } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';
import { harbourForThisFile } from '../../support/standin.js';

const { origin } = await harbourForThisFile();

test('demo serve on a free port makes a copy that finds it, and lets one that is there find it again', async () => {
  const folder = join(temporaryFolder(), 'harbour-agent');
  const serve = async (): Promise<string> => {
    let at = '';
    const ended = await echoTrail(['demo', 'serve', '--port', '0', '--copy', folder, '--json'], {
      meanwhile(child) {
        child.stdout?.on('data', (text: string) => {
          at += text;
          if (!at.includes('\n')) return;
          const { origin: own } = JSON.parse(at) as { origin: string };
          void echoTrail(['docs', 'refresh', 'harbour'], { cwd: folder }).then((refreshed) => {
            assert.equal(refreshed.status, 0, refreshed.err);
            assert.ok(readFileSync(join(folder, 'environments/sandbox.yaml'), 'utf8').includes(own));
            child.kill('SIGINT');
          });
        });
      },
    });
    return ended.out;
  };
  const first = await serve();
  assert.ok(existsSync(join(folder, 'data/controllers.csv')));
  const second = await serve();
  assert.notEqual(JSON.parse(first).origin, JSON.parse(second).origin);
  const other = await echoTrail(['demo', 'serve', '--port', '0', '--copy', temporaryFolder()]);
  assert.equal(other.status, 2);
  assert.match(other.err, /is there already, and is no copy of the demo collection/);
});

test('docs add notices an endpoint of GraphQL, and asks it for its schema', async () => {
  const cwd = collectionOf({}, origin);
  const added = await echoTrail(['docs', 'add', `${origin}/graphql`, '--name', 'rota'], { cwd });
  assert.equal(added.status, 0, added.err);
  assert.match(added.err, /is a GraphQL endpoint: it is asked for its schema/);
  assert.match(added.out, /^rota: .*GraphQL introspection, \d+ operations/);
});

test('a refusal of GraphQL inside a 200 is one: what was sent, and how to get in', async () => {
  const refusal = '{"data": null, "errors": [{"message": "Who is there?", "extensions": {"code": "UNAUTHENTICATED"}}]}';
  const server = await rawServer(() => responseOf(refusal));
  const cwd = collectionOf({ 'sessions/desk.yaml': 'kind: bearer\ntoken: ${secret.desk}\n' }, server.origin);
  const ended = await echoTrail(['send', 'POST', '/graphql', '--graphql', '{ pilots { name } }'], { cwd });
  await server.close();
  assert.equal(ended.status, 1);
  assert.match(ended.err, /refused not authenticated\n[\s\S]*no credentials were sent; use --session NAME[\s\S]*desk/);
});

const words: readonly (readonly [args: readonly string[], said: RegExp])[] = [
  [['version'], /unknown command 'version'\ntry +echo-trail --version/],
  [['set', 'a=b'], /unknown command 'set'\ntry +echo-trail secret set stores a secret/],
  [['chek'], /did you mean check\?/],
  [['harvest'], /unknown command 'harvest'\ntry +echo-trail (?:--help lists|COMMAND --help)/],
  [
    ['send', 'http://127.0.0.1:1/x'],
    /a method comes before an address\ntry +echo-trail send GET http:\/\/127\.0\.0\.1:1\/x/,
  ],
];
for (const [args, said] of words) {
  test(`echo-trail ${args.join(' ')} says what is meant`, async () => {
    const ended = await echoTrail(args, { cwd: collectionOf({}, origin) });
    assert.equal(ended.status, 2);
    assert.match(ended.err, said);
  });
}

test('a part that names a file is sent as the text that it is, with a word', async () => {
  const cwd = demoCollection(origin);
  const ended = await echoTrail(
    ['send', 'POST', '/mirror', '--part', 'plan=data/controllers.csv', '--session', 'none'],
    { cwd },
  );
  assert.match(ended.err, /--part plan sends the text data\/controllers\.csv; --part-file plan=data\/controllers\.csv/);
});

test('a list on the command line is JSON, or values with commas between', async () => {
  const cwd = collectionOf(
    {
      'requests/it.yaml':
        'method: POST\nurl: ${origin}/mirror\ninputs: {ids: {type: array}}\nbody: {json: {ids: "${ids}"}}\n',
    },
    origin,
  );
  const sent = async (value: string): Promise<string> => {
    const { body } = document<{ body: { body: { base64: string } } }>(
      await echoTrail(['send', 'it', '--set', `ids=${value}`, '--json'], { cwd }),
    );
    return Buffer.from(body.body.base64, 'base64').toString();
  };
  assert.equal(await sent('301,417'), '{"ids":[301,417]}');
  assert.equal(await sent('N1, S2'), '{"ids":["N1","S2"]}');
  assert.equal(await sent('["N1"]'), '{"ids":["N1"]}');
  const broken = await echoTrail(['send', 'it', '--set', 'ids=[1,'], { cwd });
  assert.match(broken.err, /a list: JSON, or values with commas between/);
});
