/** What leaves in rarer ways: over HTTP/2 in clear text, in chunks, with files of the user's, with a user in the address. */
import assert from 'node:assert/strict';
import { createPrivateKey } from 'node:crypto';
import { once } from 'node:events';
import { createServer } from 'node:http2';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import { test } from 'node:test';
import { startSecure } from '../../../src/standin/secure/server.js';
import { collectionOf, temporaryFolder, writeIn } from '../../support/folder.js';
import { document, type Ended, echoTrail } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';
import { harbourForThisFile } from '../../support/standin.js';

const { origin } = await harbourForThisFile();

interface Mirrored {
  readonly headers: readonly (readonly [string, string])[];
  readonly body: { readonly size: number; readonly base64: string };
}

const mirrored = (ended: Ended): Mirrored => document<{ body: Mirrored }>(ended).body;

test('HTTP/2 in clear text, known before: trailers are told, and no line of HTTP/1.1 is shown or recorded', async () => {
  const server = createServer((request, response) => {
    request.resume();
    request.on('end', () => {
      response.writeHead(200, { 'content-type': 'text/plain', trailer: 'x-sum' });
      response.addTrailers({ 'x-sum': '42' });
      response.end(request.httpVersion);
    });
  }).listen(0, '127.0.0.1');
  await once(server, 'listening');
  const at = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  const cwd = collectionOf({}, at);
  const shown = await echoTrail(['send', 'GET', '/it', '--http', '2', '--view', 'headers'], { cwd });
  assert.equal(shown.status, 0, shown.err);
  assert.match(shown.out, /received {2}HTTP\/2[\s\S]*trailers\n +x-sum +42/);
  assert.doesNotMatch(shown.out, /connection/);
  assert.doesNotMatch((await echoTrail(['echo', 'show', 'last'], { cwd })).out, /\n +connection /);
  const chunks = await echoTrail(['send', 'POST', '/it', '--http', '2', '--body-file', '-'], { cwd, input: 'quay' });
  assert.equal(chunks.out, '2.0\n', chunks.err);
  server.close();
});

test('standard input is sent in chunks, once, and cannot be signed', async () => {
  const cwd = collectionOf({}, origin);
  const large = 'tide'.repeat(100_000);
  const sent = await echoTrail(['send', 'POST', '/mirror', '--body-file', '-', '--json'], { cwd, input: large });
  const { headers, body } = mirrored(sent);
  assert.equal(body.size, large.length);
  assert.deepEqual(
    headers.filter(([name]) => /^(?:transfer-encoding|content-length)$/i.test(name)),
    [['transfer-encoding', 'chunked']],
  );
  const echo = document<{ sent: { body: { size: number } } }>(await echoTrail(['echo', 'show', '--json'], { cwd }));
  assert.equal(echo.sent.body.size, large.length);
  const kept = collectionOf({ 'requests/it.yaml': 'method: POST\nurl: ${origin}/mirror\nbody: {file: "-"}\n' }, origin);
  const preview = await echoTrail(['preview', 'it'], { cwd: kept });
  assert.match(preview.out, /body .*of unknown length, in chunks\n.*\(standard input\)/);
  const { body: unread } = document<{ body: { size: null } }>(
    await echoTrail(['preview', 'it', '--json'], { cwd: kept }),
  );
  assert.equal(unread.size, null);
  const sealed = collectionOf(
    { 'signatures/seal.yaml': 'kind: recipe\nheaders: {X-Seal: "${sent.body | sha-256 | hex}"}\n' },
    origin,
  );
  const args = ['send', 'POST', '/mirror', '--body-file', '-', '--sign', 'seal'];
  const signed = await echoTrail(args, { cwd: sealed, input: 'tide' });
  assert.deepEqual([signed.status, /standard input cannot be signed/.test(signed.err)], [2, true], signed.err);
});

test('files that the command line names may lie anywhere; those of a collection may not', async () => {
  const elsewhere = temporaryFolder();
  writeIn(elsewhere, 'plan.txt', 'the plan');
  const file = join(elsewhere, 'plan.txt');
  const cwd = collectionOf(
    { 'requests/it.yaml': `method: POST\nurl: \${origin}/mirror\nbody: {file: "${file}"}\n` },
    origin,
  );
  const sent = mirrored(await echoTrail(['send', 'POST', '/mirror', '--body-file', file, '--json'], { cwd }));
  assert.equal(Buffer.from(sent.body.base64, 'base64').toString(), 'the plan');
  const part = mirrored(await echoTrail(['send', 'POST', '/mirror', '--part-file', `plan=${file}`, '--json'], { cwd }));
  assert.match(Buffer.from(part.body.base64, 'base64').toString(), /filename="plan\.txt"[\s\S]*the plan/);
  const kept = await echoTrail(['send', 'POST', '/mirror', '--body-file', file, '--as', 'requests/kept.yaml'], { cwd });
  assert.equal(kept.status, 2);
  assert.match(kept.err, /lies outside the collection folder/);
  const ofCollection = await echoTrail(['send', 'it'], { cwd });
  assert.equal(ofCollection.status, 2);
  assert.match(ofCollection.err, /lies outside the collection folder/);
  const missing = await echoTrail(['send', 'POST', '/mirror', '--body-file', join(elsewhere, 'plann.txt')], { cwd });
  assert.match(missing.err, /plann\.txt does not exist/);
});

test('a root and a client certificate from anywhere, its key with a pass phrase that is a secret', async () => {
  const secure = await startSecure();
  const { root, client } = secure.certificates;
  const elsewhere = temporaryFolder();
  const key = createPrivateKey(client.key).export({
    type: 'pkcs8',
    format: 'pem',
    cipher: 'aes-256-cbc',
    passphrase: 'kelp-and-dulse',
  });
  writeIn(elsewhere, 'root.pem', root.certificate);
  writeIn(elsewhere, 'agent.pem', client.certificate);
  writeIn(elsewhere, 'key.pem', String(key));
  const cwd = collectionOf({}, secure.origins.client);
  const at = (name: string): string => join(elsewhere, name);
  const send = (...more: string[]): Promise<Ended> =>
    echoTrail(
      [
        ...['send', 'GET', secure.origins.client, '--json', '--trust', at('root.pem')],
        ...['--identity', `${at('agent.pem')},${at('key.pem')}`, ...more],
      ],
      { cwd, env: { ECHO_TRAIL_SECRET_AGENT_KEY: 'kelp-and-dulse' } },
    );
  const without = await send();
  assert.equal(without.status, 2);
  assert.match(without.err, /has a pass phrase, and none is given[\s\S]*--identity-secret NAME/);
  const known = await send('--identity-secret', 'agentKey');
  assert.equal(known.status, 0, known.err + known.out);
  assert.equal(document<{ body: { caller: string } }>(known).body.caller, 'Agent at the desk');
  await secure.close();
});

test('a user and a password in the address are sent as Basic, said, and neither shown nor recorded', async () => {
  const server = await rawServer(() => responseOf('{}'));
  const cwd = collectionOf({}, server.origin);
  const address = server.origin.replace('//', '//anna:quay%2D42%40x@');
  const ended = await echoTrail(['send', 'GET', `${address}/it`], { cwd });
  assert.equal(ended.status, 0, ended.err);
  assert.match(ended.err, /warning {2}the user and the password of the address are sent as Authorization: Basic/);
  const basic = Buffer.from('anna:quay-42@x').toString('base64');
  assert.ok(server.received.join('').includes(`Authorization: Basic ${basic}\r\n`));
  assert.doesNotMatch(server.received.join(''), /anna:/);
  const shown = await echoTrail(['echo', 'show', 'last'], { cwd });
  for (const text of [ended.err, ended.out, shown.out]) assert.doesNotMatch(text, /quay-42|quay%2D42|anna:/);
  await server.close();
});

test('links are found by their shape: paths from the root, and members such as @ref', async () => {
  const index = JSON.stringify({
    v1: '/station/v1/',
    '@ref': 'berths/7',
    tides: ['/tides/today', 'no address'],
    date: '/',
    share: '12/2026',
  });
  const server = await rawServer(() => responseOf(index));
  const cwd = collectionOf({}, server.origin);
  await echoTrail(['send', 'GET', '/station'], { cwd });
  const { links } = document<{ links: { url: string; at: string; about: string | null }[] }>(
    await echoTrail(['follow', '--json'], { cwd }),
  );
  assert.deepEqual(
    links.map(({ url, at, about }) => [url.replace(server.origin, ''), at, about]),
    [
      ['/station/v1/', '$.v1', 'v1'],
      ['/berths/7', "$['@ref']", null],
      ['/tides/today', '$.tides[0]', 'tides'],
    ],
  );
  await server.close();
});

test('cookies without a name (RFC 6265bis) are taken, kept and sent again', async () => {
  const server = await rawServer(() =>
    responseOf('{}', { headers: ['set-cookie: harbour-visit; Path=/', 'set-cookie: =quiet', 'set-cookie: berth=N1'] }),
  );
  const cwd = collectionOf({}, server.origin);
  await echoTrail(['send', 'GET', '/it'], { cwd });
  await echoTrail(['send', 'GET', '/it'], { cwd });
  await server.close();
  const [first = '', second = ''] = server.received.join('').split(/(?=GET )/);
  assert.doesNotMatch(first, /cookie:/i);
  assert.match(second, /\r\nCookie: quiet; berth=N1\r\n/);
});
