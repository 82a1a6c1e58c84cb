/** Recipes proposed from prose: how vendors write down what is signed, and what is read of it. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { parse } from 'yaml';
import { proposeSignature } from '../../../src/core/documentation/draft/signature.js';

interface Recipe {
  readonly define: { readonly base: unknown; readonly seal: string; readonly stamp?: string };
  readonly headers: Readonly<Record<string, string>>;
}

const cases: readonly (readonly [
  name: string,
  prose: string,
  base: unknown,
  seal: string,
  headers: Recipe['headers'],
])[] = [
  [
    'a list, an encoding behind the algorithm, a value in a form',
    `Set X-Lock-Date to the current time (ISO 8601, UTC). Concatenate with a newline between them:

1. the HTTP method in upper case
2. the request path including the query string
3. the value of X-Lock-Date
4. the SHA-512 hash of the request body, base64 encoded

Compute the HMAC-SHA512 of this string and put it, hex encoded, into \`X-Seal\` as \`v1=<signature>\`.`,
    {
      lines: [
        '${sent.method}',
        '${sent.target}',
        '${sent.header.x-lock-date ?? ""}',
        '${sent.body | sha-512 | base64}',
      ],
    },
    '${base | hmac-sha-512(secret.signingKey) | hex}',
    { 'X-Lock-Date': '${stamp}', 'X-Seal': 'v1=${seal}' },
  ],
  [
    'a formula in code, a key id, seconds, a nonce',
    `\`stringToSign = httpMethod + "\\n" + requestPath + "\\n" + timestamp + "\\n" + sha256(body)\`, then
signature = base64(HMAC-SHA256(secret, stringToSign)). Send it as \`X-Seal: <keyId>:<signature>\`, the time as seconds
since the epoch in \`X-Lock-Timestamp\`, and a fresh \`X-Lock-Nonce\`.`,
    { lines: ['${sent.method}', '${sent.path}', '${stamp}', '${sent.body | sha-256 | hex}'] },
    '${base | hmac-sha-256(secret.signingKey) | base64}',
    { 'X-Lock-Timestamp': '${stamp}', 'X-Lock-Nonce': '${nonce}', 'X-Seal': '${key-id}:${seal}' },
  ],
  [
    'values joined by something else',
    `The signature is the HMAC-SHA-256 of these values, joined by a colon, in hex:

- method
- path
- the raw body`,
    { lines: ['${sent.method}', '${sent.path}', '${sent.body | text}'], 'joined-by': ':' },
    '${base | hmac-sha-256(secret.signingKey) | hex}',
    { 'X-Seal': '${seal}' },
  ],
  [
    'a formula without anything between, a signature by an asymmetric key',
    'We verify an Ed25519 signature over: method || path || body\nIt is base64url in the header.',
    { lines: ['${sent.method}', '${sent.path}', '${sent.body | text}'], 'joined-by': '' },
    '${base | sign-ed25519(secret.signingKey) | base64url}',
    { 'X-Seal': '${seal}' },
  ],
];

test('a time that is signed and that no header is named for is defined all the same', () => {
  const description = 'HMAC-SHA256 in hex of:\n\n- method\n- key id\n- timestamp';
  const { define } = parse(
    proposeSignature({ name: 'seal', description, header: 'X-Seal' }, 'locks', 'x.json'),
  ) as Recipe;
  assert.deepEqual(define, {
    stamp: '${now | rfc3339}',
    'key-id': 'KEY-ID',
    base: { lines: ['${sent.method}', '${key-id}', '${stamp}'] },
    seal: '${base | hmac-sha-256(secret.signingKey) | hex}',
  });
});

for (const [name, description, base, seal, headers] of cases) {
  test(`a recipe is proposed from prose: ${name}`, () => {
    const text = proposeSignature({ name: 'lockSeal', description, header: 'X-Seal' }, 'locks', 'x.json');
    const recipe = parse(text) as Recipe;
    assert.deepEqual(recipe.define.base, base);
    assert.equal(recipe.define.seal, seal);
    assert.deepEqual(recipe.headers, headers);
  });
}

test('prose that is too long to mean anything is read soon', () => {
  for (const part of ['a + ', '"+', '- x\n', 'X-', '<sig>']) {
    const description = `HMAC-SHA256 ${part.repeat(50_000)}`;
    assert.match(proposeSignature({ name: 'seal', description, header: 'X-Seal' }, 'locks', 'x.json'), /hmac-sha-256/);
  }
});

test('another header that the prose speaks of is left as a remark', () => {
  const description =
    'Signed with HMAC-SHA256 in hex. X-Desk holds your desk, X-Seal the signature.\n\n- method\n- X-Desk';
  const text = proposeSignature({ name: 'seal', description, header: 'X-Seal' }, 'locks', 'x.json');
  assert.match(text, /^ {2}# X-Desk: "" # the documentation speaks of it/m);
});
