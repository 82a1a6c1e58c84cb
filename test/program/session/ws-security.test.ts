/** Sessions that write into the header of a SOAP envelope: where in it, and what is shown of it. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { collectionOf, everyFile } from '../../support/folder.js';
import { type Ended, echoTrail } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';

const server = await rawServer(() => responseOf('{}'));
const { origin } = server;
const word = 'gull-rock-lantern';
const env = { ECHO_TRAIL_SECRET_WORD: word };

const soap11 = 'http://schemas.xmlsoap.org/soap/envelope/';
const soap12 = 'http://www.w3.org/2003/05/soap-envelope';

function collection(
  body: string,
  session = 'password-type: text',
): { cwd: string; run: (...args: string[]) => Promise<Ended> } {
  const cwd = collectionOf(
    {
      'requests/declare.yaml': `method: POST\nurl: \${origin}/desk\nsession: office\n${body}\n`,
      'sessions/office.yaml': `kind: ws-security\nuser: agent\npassword: \${secret.word}\n${session}\n`,
    },
    origin,
  );
  return { cwd, run: (...args) => echoTrail(args, { cwd, env }) };
}

const soapBody = (envelope: string): string => `body: {soap: {envelope: '${envelope}', action: "urn:declare"}}`;

/** The last body that the server received, with nonce and times taken out. */
const received = (): string =>
  (server.received.join('').split('\r\n\r\n').at(-1) ?? '')
    .replace(/<wsse:Nonce[^>]*>[^<]+<\/wsse:Nonce>/, '<NONCE/>')
    .replace(/<wsu:Created>\d{4}-[^<]+<\/wsu:Created>/g, '<CREATED/>')
    .replace(/ xmlns:ws[a-z]+="[^"]*"/g, '');

const token = `<wsse:UsernameToken><wsse:Username>agent</wsse:Username><wsse:Password Type="http://docs.oasis-open.org/wss/2004/01/oasis-200401-wss-username-token-profile-1.0#PasswordText">${word}</wsse:Password><NONCE/><CREATED/></wsse:UsernameToken>`;
const block = (understood: string): string => `<wsse:Security${understood}>${token}</wsse:Security>`;

const envelopes: readonly (readonly [name: string, envelope: string, expected: string])[] = [
  [
    'without a header one is made',
    `<s:Envelope xmlns:s="${soap11}"><s:Body/></s:Envelope>`,
    `<s:Envelope xmlns:s="${soap11}"><s:Header>${block(' s:mustUnderstand="1"')}</s:Header><s:Body/></s:Envelope>`,
  ],
  [
    'in an empty header',
    `<?xml version="1.0"?><!-- a > b --><s:Envelope xmlns:s="${soap12}"> <s:Header/><s:Body/></s:Envelope>`,
    `<?xml version="1.0"?><!-- a > b --><s:Envelope xmlns:s="${soap12}"> <s:Header>${block(' s:mustUnderstand="true"')}</s:Header><s:Body/></s:Envelope>`,
  ],
  [
    'beside other blocks',
    `<s:Envelope xmlns:s="${soap11}"><s:Header><d:Desk xmlns:d="urn:d">4</d:Desk></s:Header><s:Body><Security>none</Security></s:Body></s:Envelope>`,
    `<s:Envelope xmlns:s="${soap11}"><s:Header>${block(' s:mustUnderstand="1"')}<d:Desk xmlns:d="urn:d">4</d:Desk></s:Header><s:Body><Security>none</Security></s:Body></s:Envelope>`,
  ],
  [
    'in an envelope of the default namespace',
    `<Envelope xmlns="${soap11}"><Body/></Envelope>`,
    `<Envelope xmlns="${soap11}"><Header>${block('')}</Header><Body/></Envelope>`,
  ],
];
for (const [name, envelope, expected] of envelopes)
  test(`the block stands ${name}`, async () => {
    const { run } = collection(soapBody(envelope));
    const sent = await run('send', 'declare');
    assert.equal(sent.status, 0, sent.err);
    assert.equal(received(), expected);
  });

test('a block that the request has already stays alone', async () => {
  const own =
    '<w:Security xmlns:w="http://docs.oasis-open.org/wss/2004/01/oasis-200401-wss-wssecurity-secext-1.0.xsd"/>';
  const envelope = `<s:Envelope xmlns:s="${soap11}"><s:Header>${own}</s:Header><s:Body/></s:Envelope>`;
  const { run } = collection(soapBody(envelope));
  const sent = await run('send', 'declare');
  assert.equal(sent.status, 0, sent.err);
  assert.equal(received(), envelope);
});

test('preview shows where it stands and hides what proves the user; so does every record', async () => {
  for (const kind of ['text', 'digest']) {
    const { cwd, run } = collection(soapBody(envelopes[0]?.[1] ?? ''), `password-type: ${kind}\nlasts: 5m`);
    const preview = await run('preview', 'declare');
    assert.equal(preview.status, 0, preview.err);
    assert.match(
      preview.out,
      /<wsse:Username>agent<\/wsse:Username><wsse:Password Type="[^"]*">‹secret›<\/wsse:Password>/,
    );
    assert.match(preview.out, /<wsu:Timestamp><wsu:Created>[^<]+<\/wsu:Created><wsu:Expires>/);
    const sent = await run('send', 'declare');
    assert.equal(sent.status, 0, sent.err);
    for (const { out, err } of [preview, sent, await run('echo', 'show')]) {
      assert.doesNotMatch(out + err, new RegExp(word));
      assert.doesNotMatch(out + err, /Password Type="[^"]*\\?">[^‹<]/);
    }
    for (const { path, text } of everyFile(cwd)) assert.ok(!text.includes(word), path);
  }
});

test('a request without an envelope is told, before anything is sent', async () => {
  for (const [body, said] of [
    ['body: {json: {a: 1}}', 'the request body is not one'],
    ['', 'the request has no body'],
  ] as const) {
    const { run } = collection(body);
    const sent = await run('send', 'declare');
    assert.equal(sent.status, 2, sent.err);
    assert.match(sent.err, new RegExp(`session office writes into a SOAP envelope, and ${said}`));
    assert.equal(JSON.parse((await run('echo', 'list', '--json')).out).echoes.length, 0);
  }
});
