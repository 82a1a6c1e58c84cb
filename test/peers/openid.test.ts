/** An OpenID provider that others wrote judges our sessions: discovery, proofs of a client, a person's consent, renewal, revocation. */
import assert from 'node:assert/strict';
import { generateKeyPairSync } from 'node:crypto';
import type { Server } from 'node:http';
import { createServer } from 'node:http';
import { after, before, test } from 'node:test';
import Provider from 'oidc-provider';
import { collectionOf } from '../support/folder.js';
import { document, type Ended, echoTrail } from '../support/program.js';

const clientSecret = 'winch-grease-of-the-desk-77';
const env = { ECHO_TRAIL_SECRET_PASS: clientSecret };
const { publicKey, privateKey } = generateKeyPairSync('rsa', { modulusLength: 2048 });

let origin = '';
let server: Server;
/** What the provider did, by the names of its events. */
const events: string[] = [];

before(async () => {
  server = createServer();
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  origin = `http://127.0.0.1:${(server.address() as { port: number }).port}`;
  const desk = { grant_types: ['client_credentials'], redirect_uris: [], response_types: [] };
  // What it says to the developer of a provider is not ours to print.
  const said = [console.info, console.warn];
  [console.info, console.warn] = [() => undefined, () => undefined];
  const provider = new Provider(origin, {
    clients: [
      { ...desk, client_id: 'harbour desk', client_secret: clientSecret },
      {
        ...desk,
        client_id: 'signer',
        token_endpoint_auth_method: 'private_key_jwt',
        jwks: { keys: [{ ...publicKey.export({ format: 'jwk' }), use: 'sig', alg: 'RS256', kid: 'one' }] },
      },
      {
        client_id: 'kiosk',
        application_type: 'native',
        token_endpoint_auth_method: 'none',
        grant_types: ['authorization_code', 'refresh_token'],
        redirect_uris: ['http://127.0.0.1/callback', 'http://127.0.0.1/'],
      },
    ],
    features: {
      clientCredentials: { enabled: true },
      revocation: { enabled: true },
      devInteractions: { enabled: true },
    },
    scopes: ['openid', 'offline_access', 'berths'],
    pkce: { required: () => true },
    issueRefreshToken: async () => true,
    // A token of a person ends before the margin in which it is renewed.
    ttl: {
      AccessToken: 4,
      ClientCredentials: 600,
      RefreshToken: 600,
      Session: 600,
      Interaction: 600,
      Grant: 600,
      IdToken: 600,
    },
    findAccount: (_context: unknown, id: string) => ({ accountId: id, claims: () => ({ sub: id }) }),
  });
  [console.info, console.warn] = said as [typeof console.info, typeof console.warn];
  for (const name of ['client_credentials.saved', 'access_token.saved', 'refresh_token.consumed', 'grant.revoked'])
    provider.on(name, () => events.push(name));
  for (const name of ['client_credentials.destroyed', 'access_token.destroyed', 'refresh_token.destroyed'])
    provider.on(name, () => events.push(name));
  server.on('request', provider.callback());
});
after(() => {
  server.closeAllConnections();
  server.close();
});

const session = (grant: string, client: string, more = ''): string =>
  `kind: oauth2\ngrant: ${grant}\nissuer: \${origin}\n${client}${more}`;

const collection = (): string =>
  collectionOf(
    {
      'sessions/desk.yaml': session('client_credentials', 'client: {id: harbour desk, secret: "${secret.pass}"}\n'),
      'sessions/wrong.yaml': session('client_credentials', 'client: {id: harbour desk, secret: "${secret.wrong}"}\n'),
      'sessions/signed.yaml': session(
        'client_credentials',
        'client: {id: signer, key: "${secret.signing}", key-id: one}\n',
      ),
      'sessions/person.yaml': session(
        'authorization_code',
        'client: {id: kiosk}\n',
        'scope: [openid, offline_access]\n',
      ),
    },
    origin,
  );

test('the metadata is found, the client proves itself, and the token is given back on closing', async () => {
  const cwd = collection();
  events.length = 0;
  const opened = await echoTrail(['session', 'open', 'desk'], { cwd, env });
  assert.equal(opened.status, 0, opened.err);
  assert.deepEqual(events, ['client_credentials.saved']);
  const closed = await echoTrail(['session', 'close', 'desk'], { cwd, env });
  assert.equal(closed.status, 0, closed.err);
  assert.deepEqual(events, ['client_credentials.saved', 'client_credentials.destroyed']);
});

test('a wrong secret is refused, in the words of the provider', async () => {
  const cwd = collection();
  const refused = await echoTrail(['session', 'open', 'wrong'], {
    cwd,
    env: { ECHO_TRAIL_SECRET_WRONG: 'not-the-secret-of-the-desk' },
  });
  assert.equal(refused.status, 4);
  assert.match(refused.err, /invalid_client/);
});

test('a client proves itself by a key that the provider knows', async () => {
  const cwd = collection();
  const pem = String(privateKey.export({ type: 'pkcs8', format: 'pem' }));
  const opened = await echoTrail(['session', 'open', 'signed'], { cwd, env: { ECHO_TRAIL_SECRET_SIGNING: pem } });
  assert.equal(opened.status, 0, opened.err);
});

/** A browser with its cookies, which logs in and agrees wherever the provider asks. */
async function agrees(address: string): Promise<void> {
  const jar = new Map<string, string>();
  let [url, form]: [string, URLSearchParams | undefined] = [address, undefined];
  for (let steps = 0; steps < 20; steps += 1) {
    const cookie = [...jar].map(([name, value]) => `${name}=${value}`).join('; ');
    const response = await fetch(url, {
      redirect: 'manual',
      headers: { cookie },
      ...(form && { method: 'POST', body: form }),
    });
    for (const line of response.headers.getSetCookie()) {
      const [, name = '', value = ''] = /^([^=]+)=([^;]*)/.exec(line) ?? [];
      jar.set(name, value);
    }
    form = undefined;
    const next = response.headers.get('location');
    if (next !== null) {
      url = new URL(next, url).href;
      continue;
    }
    const page = await response.text();
    const [, action] = /<form[^>]* action="([^"]+)"/.exec(page) ?? [];
    if (action === undefined) return;
    form = new URLSearchParams();
    for (const [, name = '', value = ''] of page.matchAll(/<input[^>]* name="(\w+)"[^>]* value="(\w*)"/g))
      form.set(name, value);
    if (page.includes('name="login"')) {
      form.set('login', 'agent');
      form.set('password', 'any');
    }
    url = new URL(action, url).href;
  }
  throw new Error('the provider asked for more than a person has patience for');
}

async function openedByPerson(cwd: string): Promise<Ended> {
  let said = '';
  let acted: Promise<void> | undefined;
  const ended = await echoTrail(['session', 'open', 'person', '--no-browser'], {
    cwd,
    env,
    meanwhile: (child) =>
      child.stderr?.on('data', (chunk: string) => {
        said += chunk;
        const [address] = /http:\/\/127\.0\.0\.1:\d+\/auth\?\S+/.exec(said) ?? [];
        if (address !== undefined && said.endsWith('\n')) acted ??= agrees(address);
      }),
  });
  await acted;
  return ended;
}

test('a person agrees; what the token opens is open, and its end is no end', async () => {
  const cwd = collection();
  const opened = await openedByPerson(cwd);
  assert.equal(opened.status, 0, opened.err);
  events.length = 0;
  const me = document<{ status: number; body: { sub: string } }>(
    await echoTrail(['send', 'GET', '/me', '--session', 'person', '--json'], { cwd, env }),
  );
  assert.deepEqual([me.status, me.body.sub], [200, 'agent']);
  // Its token lasted less than the margin: it was renewed, and the old refresh token consumed.
  assert.ok(events.includes('refresh_token.consumed'), events.join(' '));
  const again = await echoTrail(['send', 'GET', '/me', '--session', 'person'], { cwd, env });
  assert.equal(again.status, 0, again.err);
});
