/**
 * `export code`: programs that send what `send` sends. Each is run, and what arrives is compared, byte for byte but for what
 * clients add. `scripts/languages.mjs` runs the same with the languages that a system has beside these.
 */
import assert from 'node:assert/strict';
import { spawn, spawnSync } from 'node:child_process';
import { constants, createHash, generateKeyPairSync, type KeyObject, verify } from 'node:crypto';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import { after, before, describe, test } from 'node:test';
import { httpbis } from 'http-message-signatures';
import { collectionOf, demoCollection, everyFile, writeIn } from '../support/folder.js';
import { document, echoTrail } from '../support/program.js';
import { harbourForThisFile } from '../support/standin.js';

interface Arrived {
  readonly line: string;
  readonly headers: readonly (readonly [string, string])[];
  readonly body: string;
}

const arrived: Arrived[] = [];
const server = createServer((request, response) => {
  const chunks: Buffer[] = [];
  request.on('data', (chunk: Buffer) => chunks.push(chunk));
  request.on('end', () => {
    const { rawHeaders } = request;
    const headers = rawHeaders.flatMap((name, index) =>
      index % 2 === 0 ? [[name.toLowerCase(), rawHeaders[index + 1] as string] as const] : [],
    );
    arrived.push({ line: `${request.method} ${request.url}`, headers, body: Buffer.concat(chunks).toString('latin1') });
    response.writeHead(200, { 'content-type': 'application/json' }).end('{"token": "quay-token-4711"}');
  });
});
let origin = '';
before(async () => {
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  origin = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});
after(() => server.close());

interface Runtime {
  readonly ending: string;
  readonly command: (file: string) => readonly [program: string, ...args: string[]];
}

const runtimes: Readonly<Record<string, Runtime>> = {
  node: { ending: 'mjs', command: (file) => [process.execPath, file] },
  python: { ending: 'py', command: (file) => ['python3', file] },
  shell: { ending: 'sh', command: (file) => ['sh', file] },
  go: { ending: 'go', command: (file) => ['go', 'run', file] },
  java: { ending: 'java', command: (file) => ['java', file] },
  php: { ending: 'php', command: (file) => ['php', file] },
  ruby: { ending: 'rb', command: (file) => ['ruby', file] },
};
const needed: Readonly<Record<string, string>> = { python: 'python3', shell: 'curl' };
const there = (language: string): boolean =>
  spawnSync('sh', ['-c', `command -v ${needed[language] ?? language}`]).status === 0;
const chosen = (process.env.ECHO_TRAIL_TEST_LANGUAGES?.split(',') ?? ['node', 'python', 'shell']).filter(
  (language) => language === 'node' || there(language),
);

/** Of the client: what it says of itself, and how it reads the body. */
const ofTheClient = new Set([
  'host',
  'connection',
  'accept',
  'accept-encoding',
  'user-agent',
  'content-length',
  'keep-alive',
  'upgrade',
  'http2-settings',
  'te',
  'transfer-encoding',
]);

/** A boundary is made again each time. */
const comparable = ({ line, headers, body }: Arrived) => ({
  line,
  headers: headers
    .filter(([name]) => !ofTheClient.has(name))
    .map(([name, value]) => `${name}: ${value.replace(/part-[0-9a-f]{24}/, 'BOUNDARY')}`)
    // One client writes lines of one name as one, which means the same (RFC 9110, section 5.3).
    .flatMap((line) =>
      line.startsWith('x-two: ')
        ? line
            .slice(7)
            .split(', ')
            .map((one) => `x-two: ${one}`)
        : line,
    )
    .sort(),
  body: body.replaceAll(/part-[0-9a-f]{24}/g, 'BOUNDARY'),
});

const ran = (command: readonly string[], cwd: string, env: Readonly<Record<string, string>>) =>
  new Promise<{ status: number | null; out: string; err: string }>((resolve, reject) => {
    const { PATH = '', HOME = '' } = process.env;
    // Some read the process environment and their own source by the locale.
    const locale = { LC_ALL: 'C.UTF-8' };
    const child = spawn(command[0] as string, command.slice(1), { cwd, env: { PATH, HOME, ...locale, ...env } });
    let [out, err] = ['', ''];
    child.stdout.on('data', (text: Buffer) => {
      out += text.toString();
    });
    child.stderr.on('data', (text: Buffer) => {
      err += text.toString();
    });
    child.on('error', reject);
    child.on('close', (status) => resolve({ status, out, err }));
  });

/** What arrives from `send`, and from the program; the program has no secret in it. */
async function bothSent(folder: string, request: string, language: string, secrets: Readonly<Record<string, string>>) {
  const env = Object.fromEntries(Object.entries(secrets).map(([name, value]) => [`ECHO_TRAIL_SECRET_${name}`, value]));
  arrived.length = 0;
  const ended = await echoTrail(['send', request, '--json'], { cwd: folder, env });
  assert.equal(ended.status, 0, ended.out + ended.err);
  const own = arrived.at(-1) as Arrived;
  const { ending, command } = runtimes[language] as Runtime;
  const file = join(folder, `Request.${ending}`);
  const exported = await echoTrail(['export', 'code', request, '--language', language, '--to', file, '--json'], {
    cwd: folder,
    env,
  });
  assert.equal(exported.status, 0, exported.out + exported.err);
  for (const value of Object.values(secrets))
    for (const { path, text } of everyFile(folder)) if (path === file) assert.ok(!text.includes(value), path);
  arrived.length = 0;
  const { status, out, err } = await ran(command(file), folder, { ...secrets, DESK_TOKEN: 'quay-token-4711' });
  assert.equal(status, 0, out + err);
  assert.match(out, /quay-token-4711/);
  assert.equal(arrived.length, 1);
  return [comparable(arrived[0] as Arrived), comparable(own), document(exported)] as const;
}

const odd = 'a "b" \\\\ \'c\' <d> & é 😀 $e #{f} %g \u2028';

const requests: Readonly<Record<string, { readonly file: string; readonly not?: readonly string[] }>> = {
  'odd texts everywhere': {
    file: `method: POST\nurl: \${origin}/v1/{name}\npath: {name: ${JSON.stringify('x/y z"\'$')}}\nquery: {q: ${JSON.stringify(odd)}, list: [a b, c]}\nheaders: {X-Odd: ${JSON.stringify('a "b" \\ \'c\' $d #{e} %f `g`')}, X-Two: [one, two]}\nbody: {text: ${JSON.stringify(`${odd}\n\ttwo\r\nthree`)}}\n`,
  },
  'a secret in every place': {
    file: 'method: PUT\nurl: ${origin}/v1/things\nquery: {key: "${secret.wordy}"}\nheaders: {X-Plain: "a ${secret.plain} b"}\nbody: {json: {a: "${secret.wordy}", b: [1.50, true, null], c: "é"}}\n',
    not: ['shell'],
  },
  'a plain secret, in a header': {
    file: 'url: ${origin}/v1/things\nheaders: {X-Plain: "a ${secret.plain} b"}\nsession: basic\n',
  },
  'a form with a secret': {
    file: 'method: POST\nurl: ${origin}/v1/forms\nbody: {form: {a: x y&z, b: "${secret.wordy}", c: [1, 2]}}\n',
    not: ['shell'],
  },
  'XML with a secret': {
    file: 'method: POST\nurl: ${origin}/v1/xml\nbody: {xml: \'<a b="1">${secret.wordy}</a>\'}\n',
    not: ['shell'],
  },
  'parts with a file': {
    file: 'method: POST\nurl: ${origin}/v1/parts\nsession: desk\nbody: {parts: {note: "${secret.plain}", plan: {file: data/plan.bin}}}\n',
  },
  'the bytes of a file': { file: 'method: PUT\nurl: ${origin}/v1/file\nbody: {file: data/plan.bin}\n' },
  GraphQL: {
    file: 'method: POST\nurl: ${origin}/graphql\nbody: {graphql: {document: "query one($id: ID!) { pilot(id: $id) { name } }", variables: {id: P-1}}}\n',
  },
  'an envelope': {
    file: 'method: POST\nurl: ${origin}/soap\nbody: {soap: {envelope: \'<e:Envelope xmlns:e="http://schemas.xmlsoap.org/soap/envelope/"><e:Body/></e:Envelope>\', action: urn:read}}\n',
  },
  'DELETE without a body': { file: 'method: DELETE\nurl: ${origin}/v1/things/7\n' },
};

describe('programs', () => {
  for (const language of chosen)
    for (const [what, { file, not }] of Object.entries(requests))
      if (!not?.includes(language))
        test(`${language}: ${what}`, async () => {
          const folder = collectionOf(
            {
              'requests/it.yaml': file,
              'requests/log-in.yaml': 'method: POST\nurl: ${origin}/log-in\n',
              'sessions/desk.yaml': 'kind: login\nopen: {send: log-in}\ntoken: $.token\n',
              'sessions/basic.yaml': 'kind: basic\nuser: agent\npassword: ${secret.plain}\n',
              'data/plan.bin': 'plan\r\n\t of cargo é',
            },
            origin,
          );
          const [program, own] = await bothSent(folder, 'it', language, {
            WORDY: `tide "5" \\ <&> '+~* é`,
            PLAIN: 'lantern-room-77',
          });
          assert.deepEqual(program, own);
        });

  test('what the language cannot do is said, and nothing is made of it', async () => {
    const folder = collectionOf({ 'requests/it.yaml': requests['XML with a secret']?.file ?? '' }, origin);
    const ended = await echoTrail(['export', 'code', 'it', '--language', 'shell'], { cwd: folder });
    assert.equal(ended.status, 2);
    assert.match(ended.err, /a program in shell cannot compute xml of a secret without further packages/);
    assert.equal(ended.out, '');
    const unknown = await echoTrail(['export', 'code', 'it', '--language', 'pyton'], { cwd: folder });
    assert.match(unknown.err, /did you mean python/);
  });

  test('a secret input is asked for in the process environment, also where it is given', async () => {
    const folder = collectionOf(
      { 'requests/it.yaml': 'url: ${origin}/v1\ninputs: {pin: {secret: true}}\nheaders: {X-Pin: "${pin}"}\n' },
      origin,
    );
    const ended = await echoTrail(['export', 'code', 'it', '--language', 'python', '--set', 'pin=kelp-forest-99'], {
      cwd: folder,
    });
    assert.equal(ended.status, 0, ended.err);
    assert.match(ended.out, /os\.environ\["PIN"\]/);
    assert.doesNotMatch(ended.out, /kelp-forest/);
    // What is called a password is one, whatever its declaration says.
    writeIn(
      folder,
      'requests/other.yaml',
      'url: ${origin}/v1\ninputs: {password: {}}\nheaders: {X-Pin: "${password}"}\n',
    );
    const other = ['export', 'code', 'other', '--language', 'python', '--set', 'password=kelp-forest-99'];
    const made = await echoTrail(other, { cwd: folder });
    assert.match(made.out, /os\.environ\["PASSWORD"\]/);
    assert.doesNotMatch(made.out + made.err, /kelp-forest/);
  });

  test('an echo becomes a program, what was hidden in it is asked for', async () => {
    const folder = collectionOf(
      {
        'requests/it.yaml':
          'method: POST\nurl: ${origin}/v1\nheaders: {Authorization: "Bearer ${secret.plain}"}\nbody: {json: {a: "${secret.plain}", n: 2}}\n',
      },
      origin,
    );
    const sent = await echoTrail(['send', 'it', '--json'], {
      cwd: folder,
      env: { ECHO_TRAIL_SECRET_PLAIN: 'lantern-room-77' },
    });
    const { echo } = document<{ echo: string }>(sent);
    const made = await echoTrail(['export', 'code', echo, '--language', 'node', '--json'], { cwd: folder });
    assert.equal(made.status, 0, made.err);
    const { text, environment } = document<{ text: string; environment: string[] }>(made);
    assert.deepEqual(environment, ['AUTHORIZATION', 'A']);
    assert.doesNotMatch(text, /lantern|‹secret›/);
    const none = await echoTrail(['export', 'code', 'zzzz.9', '--language', 'node'], { cwd: folder });
    assert.equal(none.status, 2);
  });
});

describe('signatures', async () => {
  const harbour = await harbourForThisFile();
  const keys = {
    'manifests/file': { FILING_KEY: 'kipper-crate-7720' },
    'pilotage/order': { PILOTAGE_KEY: 'sounding-lead-2290' },
    'plans/north': { PLANS_KEY: 'chart-drawer-3381' },
    'locks/list': { LOCKS_KEY: 'bG9jay1nYXRlLXdpbmNoLTE3NTAtbGFya2hhdmVu' },
  };
  for (const language of chosen.filter((one) => one !== 'shell'))
    for (const [request, env] of Object.entries(keys))
      test(`${language}: ${request} is accepted by the vendor`, async () => {
        const folder = demoCollection(harbour.origin);
        const { ending, command } = runtimes[language] as Runtime;
        const file = join(folder, `Request.${ending}`);
        const made = await echoTrail(['export', 'code', request, '--language', language, '--to', file, '--json'], {
          cwd: folder,
        });
        assert.equal(made.status, 0, made.out + made.err);
        const { left, environment } = document<{ left: string[]; environment: string[] }>(made);
        assert.deepEqual(left, []);
        assert.deepEqual(environment, Object.keys(env));
        const { status, out, err } = await ran(command(file), folder, env);
        assert.equal(status, 0, out + err);
        assert.match(err, /\b20[01]\b/);
        const wrong = await ran(command(file), folder, { [environment[0] as string]: 'YW5vdGhlciBrZXk=' });
        assert.match(wrong.err + wrong.out, /\b40[13]\b/);
      });

  test('the shell leaves a signature out and says so', async () => {
    const folder = demoCollection(harbour.origin);
    const made = await echoTrail(['export', 'code', 'manifests/file', '--language', 'shell'], { cwd: folder });
    assert.equal(made.status, 0);
    assert.match(made.err, /left out {2}the signature filing \(shell has nothing for the keyed digest sha-256\)/);
    assert.match(made.out, /# Not in it: the signature filing/);
  });
});

/** Each algorithm of a private key: what a recipe calls it, what RFC 9421 does, and how Node checks it. */
interface KeyPair {
  readonly filter: string;
  readonly algorithm?: string;
  readonly hash: string | null;
  readonly options?: object;
  readonly pair: { readonly privateKey: KeyObject; readonly publicKey: KeyObject };
  /** Languages whose standard library has none. */
  readonly not: readonly string[];
}

const rsa = generateKeyPairSync('rsa', { modulusLength: 2048 });
const curve = generateKeyPairSync('ec', { namedCurve: 'P-256' });
const wide = generateKeyPairSync('ec', { namedCurve: 'P-384' });
const edwards = generateKeyPairSync('ed25519');
const pss = { padding: constants.RSA_PKCS1_PSS_PADDING, saltLength: constants.RSA_PSS_SALTLEN_DIGEST };
const raw = { dsaEncoding: 'ieee-p1363' };
const keyPairs: Readonly<Record<string, KeyPair>> = {
  'RSA, PKCS #1': {
    filter: 'sign-rsa-sha-256(secret.key)',
    algorithm: 'rsa-v1_5-sha256',
    hash: 'sha256',
    pair: rsa,
    not: [],
  },
  'RSA, PSS': {
    filter: 'sign-rsa-pss-sha-512(secret.key)',
    algorithm: 'rsa-pss-sha512',
    hash: 'sha512',
    options: pss,
    pair: rsa,
    not: ['php'],
  },
  'P-256': {
    filter: 'sign-ecdsa-sha-256(secret.key)',
    algorithm: 'ecdsa-p256-sha256',
    hash: 'sha256',
    options: raw,
    pair: curve,
    not: [],
  },
  'P-256 in ASN.1': { filter: 'sign-ecdsa-sha-256(secret.key, "der")', hash: 'sha256', pair: curve, not: [] },
  'P-384': {
    filter: 'sign-ecdsa-sha-384(secret.key)',
    algorithm: 'ecdsa-p384-sha384',
    hash: 'sha384',
    options: raw,
    pair: wide,
    not: [],
  },
  Ed25519: { filter: 'sign-ed25519(secret.key)', algorithm: 'ed25519', hash: null, pair: edwards, not: ['php'] },
};
const pemOf = ({ privateKey }: KeyPair['pair']): string => String(privateKey.export({ type: 'pkcs8', format: 'pem' }));

/** What the program in a language sends, with the key in its process environment. */
async function sentBy(language: string, folder: string, env: Readonly<Record<string, string>>): Promise<Arrived> {
  const { ending, command } = runtimes[language] as Runtime;
  const file = join(folder, `Request.${ending}`);
  const made = await echoTrail(['export', 'code', 'it', '--language', language, '--to', file, '--json'], {
    cwd: folder,
  });
  assert.equal(made.status, 0, made.out + made.err);
  assert.deepEqual(document<{ left: string[] }>(made).left, []);
  arrived.length = 0;
  const { status, out, err } = await ran(command(file), folder, env);
  assert.equal(status, 0, out + err);
  return arrived[0] as Arrived;
}

describe('private keys', () => {
  for (const language of chosen.filter((one) => one !== 'shell' && one !== 'python'))
    for (const [what, { filter, algorithm, hash, options = {}, pair, not }] of Object.entries(keyPairs)) {
      if (not.includes(language)) continue;
      test(`${language}: ${what} in a recipe`, async () => {
        const folder = collectionOf(
          {
            'requests/it.yaml':
              'method: POST\nurl: ${origin}/v1?b=2\nbody: {json: {a: "${secret.plain}"}}\nsignature: seal\n',
            'signatures/seal.yaml': `define:\n  base: {lines: ["\${sent.method}", "\${now | unix}", "\${sent.body | sha-256 | hex}"]}\nheaders: {X-Base: "\${base | base64}", X-Seal: '\${base | ${filter} | base64}'}\n`,
          },
          origin,
        );
        const { headers, body } = await sentBy(language, folder, { KEY: pemOf(pair), PLAIN: 'lantern "77"' });
        const { 'x-base': base = '', 'x-seal': seal = '' } = Object.fromEntries(headers);
        assert.match(Buffer.from(base, 'base64').toString(), /^POST\n\d{10}\n[0-9a-f]{64}$/);
        assert.equal(body, '{"a":"lantern \\"77\\""}');
        const bytes = Buffer.from(seal, 'base64');
        assert.ok(verify(hash, Buffer.from(base, 'base64'), { key: pair.publicKey, ...options }, bytes), seal);
      });
      if (algorithm !== undefined)
        test(`${language}: ${what} in an HTTP message signature, by whoever else checks it`, async () => {
          const folder = collectionOf(
            {
              'requests/it.yaml':
                'method: POST\nurl: ${origin}/v1/calls?b=2\nbody: {json: {a: "${secret.plain}"}}\nsignature: seal\n',
              'signatures/seal.yaml': `kind: message-signature\ndigest: sha-256\nsignatures:\n  one:\n    components: ["@method", "@target-uri", content-digest, content-type]\n    algorithm: ${algorithm}\n    key: \${secret.key}\n    key-id: agent-7\n    nonce: \${nonce}\n    expires: 2m\n`,
            },
            origin,
          );
          await requireVerified(
            await sentBy(language, folder, { KEY: pemOf(pair), PLAIN: 'lantern "77"' }),
            algorithm,
            (base, signature) => verify(hash, base, { key: pair.publicKey, ...options }, signature),
          );
        });
    }

  test('lines that the client would write otherwise are sent as they are signed; a length that is not known is said', async () => {
    const folder = collectionOf(
      {
        'requests/it.yaml': 'method: POST\nurl: ${origin}/v1\nbody: {json: {a: b}}\nsignature: seal\n',
        'signatures/seal.yaml': `kind: message-signature\ndigest: sha-256\nsignatures:\n  one:\n    components: ["@method", "@target-uri", content-digest, user-agent, content-length]\n    algorithm: ed25519\n    key: \${secret.key}\n    nonce: \${nonce}\n    expires: 2m\n`,
      },
      origin,
    );
    const sent = await sentBy('node', folder, { KEY: pemOf(edwards) });
    assert.match(Object.fromEntries(sent.headers)['user-agent'] ?? '', /^echo-trail\//);
    await requireVerified(sent, 'ed25519', (base, signature) => verify(null, base, edwards.publicKey, signature));
    writeIn(
      folder,
      'requests/it.yaml',
      'method: POST\nurl: ${origin}/v1\nbody: {json: {a: "${secret.plain}"}}\nsignature: seal\n',
    );
    const made = await echoTrail(['export', 'code', 'it', '--language', 'node'], { cwd: folder });
    assert.match(made.err, /left out {2}the signature seal \(it covers content-length, which is known only when/);
  });

  test('what the language has no signature for is said', async () => {
    const folder = collectionOf(
      {
        'requests/it.yaml': 'url: ${origin}/v1\nsignature: seal\n',
        'signatures/seal.yaml': 'headers: {X-Seal: "${now | unix | sign-ed25519(secret.key) | base64}"}\n',
      },
      origin,
    );
    for (const language of ['python', 'php', 'csharp', 'powershell']) {
      const made = await echoTrail(['export', 'code', 'it', '--language', language], { cwd: folder });
      assert.equal(made.status, 0, made.err);
      assert.match(
        made.err,
        new RegExp(`left out {2}the signature seal \\(${language} has nothing for a signature with a private key`),
      );
    }
  });
});

/** By a library of the field; a digest of the content is checked beside it. */
async function requireVerified(
  { line, headers, body }: Arrived,
  algorithm: string,
  check: (base: Buffer, signature: Buffer) => boolean,
): Promise<void> {
  const [method = '', target = ''] = line.split(' ');
  const fields = Object.fromEntries(headers);
  const digest = createHash('sha256').update(Buffer.from(body, 'latin1')).digest('base64');
  assert.equal(fields['content-digest'], `sha-256=:${digest}:`);
  const good = await httpbis.verifyMessage(
    {
      keyLookup: async ({ keyid }) => ({
        id: String(keyid),
        algs: [algorithm],
        verify: async (base, signature) => check(base, signature),
      }),
      requiredFields: ['@method', '@target-uri', 'content-digest'],
      requiredParams: ['created', 'expires', 'nonce'],
    },
    { method, url: `${origin}${target}`, headers: fields },
  );
  assert.equal(good, true);
}
