/** Requests without files: every kind of body and every way to connect, by options. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { startSecure } from '../../../src/standin/secure/server.js';
import { collectionOf } from '../../support/folder.js';
import { document, echoTrail } from '../../support/program.js';
import { harbourForThisFile } from '../../support/standin.js';

const { origin } = await harbourForThisFile();

interface Mirrored {
  readonly headers: readonly (readonly [string, string])[];
  readonly body: { readonly base64: string };
}

const files = {
  'bodies/order.xml': '<order berth="N1"/>',
  'bodies/pilots.graphql': 'query Pilots($first: Int) { pilots(first: $first) { __typename } }\n',
};

const bodies: readonly (readonly [options: readonly string[], type: string, body: string])[] = [
  [['--body-xml', '<order note="${plain}"/>'], 'application/xml; charset=utf-8', '<order note="${plain}"/>'],
  [['--body-template', 'bodies/order.xml'], 'application/xml; charset=utf-8', '<order berth="N1"/>'],
  [['--graphql', '{ pilots { id } }'], 'application/json', '{"query":"{ pilots { id } }"}'],
  [
    ['--graphql', 'bodies/pilots.graphql', '--variable', 'first=2', '--variable', 'name=Wren'],
    'application/json',
    '{"query":"query Pilots($first: Int) { pilots(first: $first) { __typename } }\\n","variables":{"first":2,"name":"Wren"}}',
  ],
  [['--soap', '<Envelope/>', '--soap-action', 'urn:declare'], 'text/xml; charset=utf-8', '<Envelope/>'],
];
for (const [options, type, body] of bodies) {
  test(`send POST with ${options.join(' ')} sends it, and --as makes the file that sends the same`, async () => {
    const cwd = collectionOf(files, origin);
    const sent = await echoTrail(['send', 'POST', '/mirror', ...options, '--as', 'same', '--json'], { cwd });
    assert.equal(sent.status, 0, sent.err);
    const again = await echoTrail(['send', 'same', '--json'], { cwd });
    for (const one of [sent, again]) {
      const { body: seen } = document<{ body: Mirrored }>(one);
      const header = (name: string): string | undefined =>
        seen.headers.find(([key]) => key.toLowerCase() === name)?.[1];
      assert.equal(Buffer.from(seen.body.base64, 'base64').toString(), body);
      assert.equal(header('content-type'), type);
      if (options.includes('--soap-action')) assert.equal(header('soapaction'), '"urn:declare"');
    }
  });
}

for (const [options, message] of [
  [['--variable', 'a=1'], /--variable requires --graphql/],
  [['--soap-action', 'a'], /--soap-action requires --soap/],
  [['--graphql', '{ a }', '--soap', '<a/>'], /a request has one body/],
  [['--http', '3'], /--http takes 1 or 2, not 3/],
  [['--identity', 'a.pem,'], /--identity takes CERTIFICATE,KEY or one PKCS#12 file/],
  [['--trust', 'nothing.pem'], /nothing\.pem does not exist/],
  [['--trust', 'echo-trail.yaml'], /echo-trail\.yaml is not PEM/],
  [['--trust', '../outside.pem'], /outside/],
  [['--proxy', 'ftp://a'], /proxy is not the address of a proxy/],
  [['--http', '2', '--as', 'kept'], /--as cannot keep --http/],
] as const) {
  test(`send POST with ${options.join(' ')} is refused, and nothing is sent`, async () => {
    const cwd = collectionOf({}, origin);
    const { status, err } = await echoTrail(['send', 'POST', '/mirror', ...options], { cwd });
    assert.equal(status, 2, err);
    assert.match(err, message);
    assert.equal((await echoTrail(['echo', 'list', '--json'], { cwd })).out.trim(), '{"version":1,"echoes":[]}');
  });
}

test('by options a root is trusted, a client certificate shown, HTTP/2 spoken and a proxy named', async () => {
  const secure = await startSecure();
  const { root, client } = secure.certificates;
  const cwd = collectionOf({
    'certs/root.pem': root.certificate,
    'certs/agent.pem': client.certificate,
    'certs/agent-key.pem': client.key,
  });
  const send = async (url: string, ...options: string[]) =>
    echoTrail(['send', 'GET', url, '--json', ...options], { cwd });
  try {
    const distrusted = await send(secure.origins.trusted);
    assert.equal(distrusted.status, 3);
    assert.match(distrusted.err + distrusted.out, /--trust FILE/);
    assert.equal((await send(secure.origins.trusted, '--trust', 'certs/root.pem')).status, 0);
    const known = await send(
      secure.origins.client,
      ...['--trust', 'certs/root.pem', '--identity', 'certs/agent.pem,certs/agent-key.pem'],
    );
    assert.equal(document<{ body: { caller: string } }>(known).body.caller, 'Agent at the desk');
    const second = await send(secure.origins.http2, '--trust', 'certs/root.pem', '--http', '2');
    assert.equal(document<{ body: { version: string } }>(second).body.version, '2.0');
    const otherName = await send(
      secure.origins.otherHost,
      ...['--trust', 'certs/root.pem', '--server-name', 'other.harbour.example'],
    );
    assert.equal(otherName.status, 0, otherName.err);
    const refused = await send('http://harbour.example/', '--proxy', 'http://127.0.0.1:9');
    assert.equal(refused.status, 3);
    assert.match(refused.out + refused.err, /the proxy 127\.0\.0\.1:9 refused the connection/);
  } finally {
    await secure.close();
  }
});
