/** OAuth 2.0 against the stand-in's pass office: every grant, every proof of a client, renewal, refusals. */
import assert from 'node:assert/strict';
import { generateKeyPairSync } from 'node:crypto';
import { test } from 'node:test';
import { passSecret } from '../../../src/standin/passes/clients.js';
import { collectionOf, everyFile } from '../../support/folder.js';
import { document, type Ended, echoTrail } from '../../support/program.js';
import { rawServer, responseOf } from '../../support/raw-server.js';
import { harbourForThisFile } from '../../support/standin.js';

const { origin, credentials } = await harbourForThisFile();
const env = { ECHO_TRAIL_SECRET_PASS: passSecret, ECHO_TRAIL_SECRET_DESK: credentials.password };
const desk = 'client: {id: harbour desk, secret: "${secret.pass}"}\n';

const oauth = (grant: string, client: string, more = ''): string =>
  `kind: oauth2\ngrant: ${grant}\nissuer: \${origin}/passes\n${client}${more}`;

const sessions: Readonly<Record<string, string>> = {
  'sessions/basic.yaml': oauth('client_credentials', desk),
  'sessions/post.yaml': oauth(
    'client_credentials',
    'client: {id: poster, secret: "${secret.pass}", authentication: client_secret_post}\n',
  ),
  'sessions/sealed.yaml': oauth(
    'client_credentials',
    'client: {id: sealer, secret: "${secret.pass}${secret.pass}", authentication: client_secret_jwt}\n',
  ),
  'sessions/signed.yaml': oauth('client_credentials', 'client: {id: signer, key: "${secret.signing}"}\n'),
  'sessions/password.yaml': oauth('password', desk, 'user: agent\npassword: ${secret.desk}\n'),
  'sessions/short.yaml': oauth('password', desk, 'user: agent\npassword: ${secret.desk}\nscope: [berths, short]\n'),
  'sessions/endpoints.yaml': `kind: oauth2\ngrant: client_credentials\nendpoints: {token: "\${origin}/passes/token"}\n${desk}`,
  'sessions/person.yaml': oauth('authorization_code', 'client: {id: kiosk}\n', 'scope: berths pilots\n'),
  'sessions/device.yaml': oauth('urn:ietf:params:oauth:grant-type:device_code', 'client: {id: kiosk}\n'),
};

const collection = (files: Readonly<Record<string, string>> = {}): string =>
  collectionOf({ ...sessions, ...files }, origin);

const issued = async (): Promise<{ issued: number; renewed: number; open: number }> =>
  (await (await fetch(`${origin}/passes/issued`)).json()) as { issued: number; renewed: number; open: number };

for (const name of ['basic', 'post', 'sealed', 'password', 'endpoints']) {
  test(`the session ${name} opens the quay, is kept, and is given back`, async () => {
    const cwd = collection();
    const before = await issued();
    const sent = await echoTrail(['send', 'GET', '/passes/quay', '--session', name], { cwd, env });
    assert.equal(sent.status, 0, sent.err);
    assert.match(sent.out, /"quay": "north"/);
    const again = await echoTrail(['send', 'GET', '/passes/quay', '--session', name], { cwd, env });
    assert.equal(again.status, 0, again.err);
    assert.equal((await issued()).issued, before.issued + 1, 'one token for two commands');
    assert.equal((await echoTrail(['session', 'close', name], { cwd, env })).status, 0);
    const after = await issued();
    // Without metadata nobody knows where a token is given back.
    assert.equal(after.open, before.open + (name === 'endpoints' ? 1 : 0));
  });
}

test('a client proves itself with its private key', async () => {
  const { publicKey, privateKey } = generateKeyPairSync('rsa', { modulusLength: 2048 });
  await fetch(`${origin}/passes/keys/signer`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ pem: publicKey.export({ type: 'spki', format: 'pem' }) }),
  });
  const signing = String(privateKey.export({ type: 'pkcs8', format: 'pem' }));
  const cwd = collection();
  const sent = await echoTrail(['send', 'GET', '/passes/quay', '--session', 'signed'], {
    cwd,
    env: { ...env, ECHO_TRAIL_SECRET_SIGNING: signing },
  });
  assert.equal(sent.status, 0, sent.err);
});

test('session show tells what a token says of itself, and not the token', async () => {
  const cwd = collection();
  await echoTrail(['session', 'open', 'password'], { cwd, env });
  const shown = await echoTrail(['session', 'show', 'password'], { cwd, env });
  assert.match(shown.out, /open, ends in 4(?:\.\d+)? ?min|open, ends in/);
  assert.match(
    shown.out,
    /renewed automatically[\s\S]*its token says\n *iss +http[\s\S]*sub +agent[\s\S]*exp +20\d\d-/,
  );
  const { claims } = document<{ claims: { sub: string } }>(
    await echoTrail(['session', 'show', 'password', '--json'], { cwd, env }),
  );
  assert.equal(claims.sub, 'agent');
  assert.doesNotMatch(shown.out, /eyJ/);
});

test('a token that is about to end is renewed with its refresh token, and no password is sent again', async () => {
  const cwd = collection();
  const send = (): Promise<Ended> => echoTrail(['send', 'GET', '/passes/quay', '--session', 'short'], { cwd, env });
  assert.equal((await send()).status, 0);
  const before = await issued();
  // Six seconds are less than a second beyond the margin.
  await new Promise((resolve) => setTimeout(resolve, 1_200));
  const again = await send();
  assert.equal(again.status, 0, again.err);
  const after = await issued();
  assert.deepEqual([after.renewed - before.renewed, after.issued - before.issued], [1, 1]);
});

/** Runs `session open`, and does with what it says what a person would. */
async function agreed(cwd: string, name: string, act: (said: string) => Promise<void>): Promise<Ended> {
  let said = '';
  let acted: Promise<void> | undefined;
  const ended = await echoTrail(['session', 'open', name, '--no-browser'], {
    cwd,
    env,
    meanwhile: (child) => {
      child.stderr?.on('data', (chunk: string) => {
        said += chunk;
        if (/authorize\?\S+\s|type [0-9A-F]{6}/.test(said)) acted ??= act(said);
      });
    },
  });
  await acted;
  return ended;
}

const decide = (decision: string) => async (said: string) => {
  const [address = ''] = /http:\/\/127\.0\.0\.1:\d+\/passes\/authorize\S+/.exec(said) ?? [];
  const form = new URL(address).searchParams;
  form.set('decision', decision);
  await fetch(`${origin}/passes/authorize`, { method: 'POST', body: form });
};

test('a person agrees in a browser, which comes back with a code', async () => {
  const cwd = collection();
  const opened = await agreed(cwd, 'person', decide('agree'));
  assert.equal(opened.status, 0, opened.err);
  const sent = await echoTrail(['send', 'GET', '/passes/quay', '--session', 'person'], { cwd, env });
  assert.match(sent.out, /"passenger": "agent"/);
  for (const { path, text } of everyFile(cwd)) assert.doesNotMatch(text, /"code_verifier=[\w-]{40}|eyJhbGci/, path);
});

test('a person who refuses is told so', async () => {
  const refused = await agreed(collection(), 'person', decide('refuse'));
  assert.equal(refused.status, 4, refused.err);
  assert.match(refused.err, /the person did not agree[\s\S]*access_denied: the harbour master said no/);
});

test('who calls the callback without the state of this try is not heard, and the wait goes on', async () => {
  const statuses: number[] = [];
  const opened = await agreed(collection(), 'person', async (said) => {
    const [, callback = ''] = /redirect_uri=([^&\s]+)/.exec(said) ?? [];
    for (const query of ['code=stolen&state=another', 'error=access_denied', 'code=stolen'])
      statuses.push((await fetch(`${decodeURIComponent(callback)}?${query}`)).status);
    await decide('agree')(said);
  });
  assert.deepEqual(statuses, [404, 404, 404]);
  assert.equal(opened.status, 0, opened.err);
});

test('where there is no browser, the address that it was sent to is pasted', async () => {
  const opened = await echoTrail(['session', 'open', 'person', '--no-browser'], {
    cwd: collection(),
    env,
    openInput: true,
    meanwhile: (child) => {
      let said = '';
      child.stderr?.on('data', (chunk: string) => {
        said += chunk;
        const [address] = /http:\S+\/passes\/authorize\?\S+(?=\s)/.exec(said) ?? [];
        if (!address) return;
        said = '';
        const form = new URL(address).searchParams;
        form.set('decision', 'agree');
        void fetch(`${origin}/passes/authorize`, { method: 'POST', body: form, redirect: 'manual' }).then((response) =>
          child.stdin?.write(`${response.headers.get('location')}\n`),
        );
      });
    },
  });
  assert.equal(opened.status, 0, opened.err);
});

for (const [decision, status, message] of [
  ['agree', 0, /device +oauth2 +open/],
  ['refuse', 4, /the person did not agree/],
] as const) {
  test(`a person types the code on another device, and decides to ${decision}`, async () => {
    const ended = await agreed(collection(), 'device', async (said) => {
      const [, code = ''] = /type ([0-9A-F]{6})/.exec(said) ?? [];
      await fetch(`${origin}/passes/agree`, { method: 'POST', body: new URLSearchParams({ code, decision }) });
    });
    assert.equal(ended.status, status, ended.err);
    assert.match(ended.out + ended.err, message);
  });
}

test('what needs a person says so where nobody is', async () => {
  const { status, err } = await echoTrail(['send', 'GET', '/passes/quay', '--session', 'person'], {
    cwd: collection(),
    env,
  });
  assert.equal(status, 4);
  assert.match(
    err,
    /needs a person's approval, and there is no interactive terminal[\s\S]*echo-trail session open person/,
  );
});

const refusals: readonly (readonly [what: string, file: string, message: RegExp])[] = [
  [
    'a wrong secret',
    oauth('client_credentials', 'client: {id: harbour desk, secret: wrong-secret}\n'),
    /does not accept the client[\s\S]*client_secret_post/,
  ],
  [
    'another way of proof',
    oauth('client_credentials', 'client: {id: poster, secret: "${secret.pass}"}\n'),
    /does not accept the client/,
  ],
  [
    'an unknown scope',
    oauth('client_credentials', desk, 'scope: lighthouse\n'),
    /does not give this scope[\s\S]*there is no scope lighthouse/,
  ],
  [
    'a wrong password',
    oauth('password', desk, 'user: agent\npassword: another-password\n'),
    /what was handed in is wrong[\s\S]*user or password are wrong/,
  ],
  [
    'a grant that the client may not use',
    oauth('client_credentials', 'client: {id: kiosk}\n'),
    /may not use this grant/,
  ],
  [
    'an issuer without metadata',
    `kind: oauth2\ngrant: client_credentials\nissuer: \${origin}/nobody\n${desk}`,
    /publishes no metadata/,
  ],
  ['no endpoint at all', `kind: oauth2\ngrant: client_credentials\n${desk}`, /no token endpoint is known/],
  [
    'an endpoint that speaks no OAuth',
    `kind: oauth2\ngrant: client_credentials\nendpoints: {token: "\${origin}/mirror"}\n${desk}`,
    /is not an OAuth response/,
  ],
  [
    'an endpoint in plain http elsewhere',
    `kind: oauth2\ngrant: client_credentials\nendpoints: {token: "http://passes.example/token"}\n${desk}`,
    /plain http/,
  ],
  [
    'an endpoint on a host that is not listed',
    `kind: oauth2\ngrant: client_credentials\nendpoints: {token: "https://passes.example/token"}\n${desk}`,
    /the environment sandbox does not list passes\.example:443/,
  ],
  ['no password at all', oauth('password', desk, 'user: agent\n'), /has no password/],
  [
    'a refresh token that was used',
    oauth('refresh_token', desk, 'refresh-token: an-old-refresh-token\n'),
    /the refresh token was used or has ended/,
  ],
  [
    'a key that is none',
    oauth('client_credentials', 'client: {id: signer, key: no-key-at-all}\n'),
    /the key is not a private key in PEM/,
  ],
  [
    'a proof without its secret',
    oauth('client_credentials', 'client: {id: poster, authentication: client_secret_post}\n'),
    /client_secret is empty/,
  ],
];
for (const [what, file, message] of refusals) {
  test(`${what} is explained, and nothing secret is in it`, async () => {
    const cwd = collection({ 'sessions/it.yaml': file });
    const { status, err, out } = await echoTrail(['send', 'GET', '/passes/quay', '--session', 'it'], { cwd, env });
    assert.equal(status, 4, err + out);
    assert.match(err, message);
    assert.doesNotMatch(err + out, /ebb|tidewater/);
  });
}

test('a pass without the right to a quay is refused by 403, and that is told from 401', async () => {
  const cwd = collection({ 'sessions/pilots.yaml': oauth('client_credentials', desk, 'scope: pilots\n') });
  const { status, err } = await echoTrail(['send', 'GET', '/passes/quay', '--session', 'pilots'], { cwd, env });
  assert.equal(status, 1);
  assert.match(err, /403/);
});

test('a thousand steps on an ended session cause one renewal', async () => {
  const cwd = collection({
    'requests/quay.yaml': 'url: ${origin}/passes/quay\nsession: short\nexpect: {status: 200}\n',
    'data/thousand.csv': `n\n${Array.from({ length: 1000 }, (_, index) => index).join('\n')}\n`,
    'trails/thousand.yaml': 'rows: data/thousand.csv\nat-once: 100\nsteps: [{send: quay}]\n',
  });
  await echoTrail(['session', 'open', 'short'], { cwd, env });
  await new Promise((resolve) => setTimeout(resolve, 1_200));
  const before = await issued();
  const ran = await echoTrail(['run', 'thousand'], { cwd, env });
  assert.equal(ran.status, 0, ran.err + ran.out);
  assert.equal((await issued()).issued, before.issued + 1);
});

test('processes that start together open one session', async () => {
  const cwd = collection();
  const before = await issued();
  const all = await Promise.all(
    Array.from({ length: 4 }, () =>
      echoTrail(['send', 'GET', '/passes/quay', '--session', 'basic', '--quiet'], { cwd, env }),
    ),
  );
  for (const { status, err } of all) assert.equal(status, 0, err);
  assert.equal((await issued()).issued, before.issued + 1);
});

test('scope, audience and resource are asked for, and OpenID metadata serves where RFC 8414 has none', async () => {
  const server = await rawServer((head) => {
    const self = `http://${/host: (\S+)/i.exec(head)?.[1]}`;
    if (head.startsWith('GET /desk/.well-known/openid-configuration'))
      return responseOf(JSON.stringify({ issuer: `${self}/desk`, token_endpoint: `${self}/desk/token` }));
    if (head.startsWith('POST /desk/token'))
      return responseOf('{"access_token": "a-token-of-the-desk", "token_type": "bearer", "expires_in": 60}');
    return head.startsWith('GET /it') ? responseOf('{"ok": true}') : responseOf('{}', { status: '404 Not Found' });
  });
  const cwd = collectionOf(
    {
      'sessions/wide.yaml':
        'kind: oauth2\ngrant: client_credentials\nissuer: ${origin}/desk\nclient: {id: harbour desk, secret: "${secret.pass}"}\nscope: [berths, "${word ?? \'pilots\'}"]\naudience: https://quay.example/\nresource: [https://a.example/, https://b.example/]\n',
    },
    server.origin,
  );
  const sent = await echoTrail(['send', 'GET', '/it', '--session', 'wide'], { cwd, env });
  assert.equal(sent.status, 0, sent.err);
  const [, head = '', body = ''] =
    /(POST \/desk\/token[\s\S]*?)\r\n\r\n(.*?)GET \/it/s.exec(server.received.join('')) ?? [];
  const form = new URLSearchParams(body);
  assert.equal(form.get('scope'), 'berths pilots');
  assert.deepEqual(form.getAll('audience'), ['https://quay.example/']);
  assert.deepEqual(form.getAll('resource'), ['https://a.example/', 'https://b.example/']);
  // The id and the secret are form-encoded before they are joined (RFC 6749, section 2.3.1).
  const [, pair = ''] = /Authorization: Basic (\S+)/i.exec(head) ?? [];
  assert.equal(Buffer.from(pair, 'base64').toString(), 'harbour+desk:ebb+%26+flow%3A+100%25+%2Bsafe');
  assert.match(server.received.join(''), /GET \/it[\s\S]*Bearer a-token-of-the-desk/);
  await server.close();
});

test('a token endpoint that says nothing of an end is asked once, and its response is kept', async () => {
  let asked = 0;
  const server = await rawServer((head) => {
    if (!head.startsWith('POST /token')) return responseOf('{}');
    asked += 1;
    return responseOf('{"access_token": "without-an-end", "token_type": "Bearer"}');
  });
  const cwd = collectionOf(
    {
      'sessions/open.yaml':
        'kind: oauth2\ngrant: client_credentials\nendpoints: {token: "${origin}/token"}\nclient: {id: a, secret: "${secret.pass}"}\n',
    },
    server.origin,
  );
  for (let count = 0; count < 2; count += 1)
    assert.equal((await echoTrail(['send', 'GET', '/it', '--session', 'open'], { cwd, env })).status, 0);
  assert.equal(asked, 1);
  await server.close();
});
