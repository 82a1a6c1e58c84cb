/** A SOAP server that others wrote, from a WSDL: found, drafted, called, and its faults told. */
import assert from 'node:assert/strict';
import { createServer, type Server } from 'node:http';
import { after, before, test } from 'node:test';
import { listen, passwordDigest } from 'soap';
import { customsWsdl as wsdl } from '../support/customs-wsdl.js';
import { collectionOf } from '../support/folder.js';
import { document, echoTrail } from '../support/program.js';

let server: Server;
let origin = '';
const declared: { vessel: string; tonnes: number }[] = [];

before(async () => {
  server = createServer((_request, response) => response.writeHead(404).end());
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  origin = `http://127.0.0.1:${(server.address() as { port: number }).port}`;
  const Declare = (given: { vessel: string; tonnes: number }): { mark: string } => {
    if (given.tonnes > 500) {
      throw { Fault: { faultcode: 'soap:Client', faultstring: 'more than the quay bears', statusCode: 500 } };
    }
    declared.push(given);
    return { mark: `M-${given.vessel}` };
  };
  const services = { Customs: { Desk: { Declare } } } as never;
  listen(server, '/customs', services, wsdl(`${origin}/customs`));
  const guarded = listen(server, '/guarded', services, wsdl(`${origin}/guarded`));
  guarded.authenticate = (security: Security | undefined) => {
    if (!security) return false;
    const { UsernameToken: token, Timestamp: stamp } = security;
    const { Password: password, Nonce: nonce, Created: created } = token;
    const digest = password.attributes.Type.endsWith('#PasswordDigest');
    const expected = digest ? passwordDigest(nonce.$value, created, 'tide & <quay>') : 'tide & <quay>';
    const fresh = !nonces.has(nonce.$value);
    nonces.add(nonce.$value);
    const good = stamp === undefined || Date.parse(stamp.Expires) - Date.parse(stamp.Created) === 300_000;
    return fresh && good && token.Username === 'agent' && password.$value === expected;
  };
});
after(() => {
  server.closeAllConnections();
  server.close();
});

interface Security {
  UsernameToken: {
    Username: string;
    Password: { attributes: { Type: string }; $value: string };
    Nonce: { $value: string };
    Created: string;
  };
  Timestamp?: { Created: string; Expires: string };
}
const nonces = new Set<string>();

const envelope = (tonnes: string): string =>
  `<s:Envelope xmlns:s="http://schemas.xmlsoap.org/soap/envelope/"><s:Body><d:Declare xmlns:d="urn:harbour:customs"><d:vessel>\${vessel}</d:vessel><d:tonnes>${tonnes}</d:tonnes></d:Declare></s:Body></s:Envelope>`;

test('its WSDL is read from it, a draft is called, and what it returns is kept', async () => {
  const cwd = collectionOf({}, origin);
  const added = await echoTrail(['docs', 'add', `${origin}/customs?wsdl`, '--name', 'office'], { cwd });
  assert.equal(added.status, 0, added.err);
  const drafted = await echoTrail(['draft', 'office/Declare', '--as', 'declare'], { cwd });
  assert.equal(drafted.status, 0, drafted.err);
  const sent = await echoTrail(
    [
      'send',
      'declare',
      '--set',
      'vessel=Kittiwake & Sons',
      '--set',
      'tonnes=42',
      '--allow-changes',
      '--pick',
      '//*[local-name()="mark"]',
    ],
    { cwd },
  );
  assert.equal(sent.status, 0, sent.err);
  assert.equal(sent.out, 'M-Kittiwake & Sons\n');
  assert.deepEqual(declared.at(-1), { vessel: 'Kittiwake & Sons', tonnes: 42 });
});

test('its fault is a failure, with what it says', async () => {
  const cwd = collectionOf(
    {
      'requests/declare.yaml': `inputs: {vessel: {}}\nmethod: POST\nurl: \${origin}/customs\nbody: {soap: {envelope: '${envelope('9000')}', action: "urn:declare"}}\n`,
    },
    origin,
  );
  const sent = await echoTrail(['send', 'declare', '--set', 'vessel=Kittiwake', '--json'], { cwd });
  const { ok, status, problems } = document<{
    ok: boolean;
    status: number;
    problems: { what: string; cause?: string }[];
  }>(sent);
  assert.deepEqual([ok, status], [false, 500]);
  assert.match(JSON.stringify(problems), /more than the quay bears/);
});

for (const [name, lines, status] of [
  ['a digest of the password', '', 0],
  ['the password itself', 'password-type: text\n', 0],
  ['a time at which the message ends', 'lasts: 5m\n', 0],
  ['another password', 'x', 1],
] as const)
  test(`WS-Security: the server takes ${name}${status === 0 ? '' : ' for a refusal'}, each message with a nonce of its own`, async () => {
    const wrong = status !== 0;
    const cwd = collectionOf(
      {
        'requests/declare.yaml': `method: POST\nurl: \${origin}/guarded\nsession: office\nbody: {soap: {envelope: '${envelope('1').replace(/\$\{vessel\}/, 'Dunlin')}', action: "urn:declare"}}\n`,
        'sessions/office.yaml': `kind: ws-security\nuser: agent\npassword: \${secret.word}\n${wrong ? '' : lines}`,
      },
      origin,
    );
    const env = { ECHO_TRAIL_SECRET_WORD: wrong ? 'ebb tide' : 'tide & <quay>' };
    for (let round = 0; round < 2; round += 1) {
      const sent = await echoTrail(['send', 'declare', '--allow-changes'], { cwd, env });
      assert.equal(sent.status, status, sent.err);
      assert.match(sent.out + sent.err, wrong ? /Invalid username or password/ : /M-Dunlin/);
    }
  });
