/** Digest access authentication against the examples of RFC 7616, section 3.9, and RFC 2617, section 3.5. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { challengeIn, digestAuthorization, nextNonce } from '../../../src/core/session/digest-access.js';

const responseOf = (header: string): string | undefined => / response="([0-9a-f]+)"/.exec(header)?.[1];

const common =
  'realm="http-auth@example.org", qop="auth, auth-int", nonce="7ypf/xlj9XXwfDPEoM4URrv/xwf94BcCAzFZH4GiTo0v", opaque="FQhe/qaU925kfnzjCev0ciny7QMkPqMAFRtzCUYo5tdS"';
const mufasa = { user: 'Mufasa', password: 'Circle of Life' };
const call = { method: 'GET', target: '/dir/index.html', body: undefined };
const cnonce = 'f2/wE4q74E6zIJEtWaHKaf5wv/H5QzzpXusqGemxURZJ';

test('RFC 7616, 3.9.1: SHA-256 and MD5; of several challenges the strongest is responded', () => {
  const both = [
    ['WWW-Authenticate', `Digest ${common}, algorithm=MD5`],
    ['WWW-Authenticate', `Digest ${common}, algorithm=SHA-256`],
  ] as const;
  const strongest = challengeIn(both);
  assert.equal(strongest?.algorithm, 'SHA-256');
  assert.ok(strongest);
  const header = digestAuthorization(strongest, mufasa, call, 1, cnonce);
  assert.equal(responseOf(header), '753927fa0e85d155564e2e272a28d1802ca10daf4496794697cf8db5856cb6c1');
  assert.match(
    header,
    /^Digest username="Mufasa", realm="http-auth@example\.org", uri="\/dir\/index\.html", algorithm=SHA-256, /,
  );
  assert.match(header, /nc=00000001, .*qop=auth, .*opaque="FQhe/);
  const weak = challengeIn([both[0]]);
  assert.ok(weak);
  assert.equal(responseOf(digestAuthorization(weak, mufasa, call, 1, cnonce)), '8ca523f5e9506fed4657c9700eebdbec');
});

test('RFC 7616, 3.9.2: SHA-512-256, a user hash and a user beyond ASCII', () => {
  const challenge = challengeIn([
    [
      'www-authenticate',
      'Digest realm="api@example.org", qop="auth", algorithm=SHA-512-256, nonce="5TsQWLVdgBdmrQ0XsxbDODV+57QdFR34I9HAbC/RVvkK", opaque="HRPCssKJSGjCrkzDg8OhwpzCiGPChXYjwrI2QmXDnsOS", charset=UTF-8, userhash=true',
    ],
  ]);
  assert.ok(challenge?.userhash);
  const user = 'J\u00e4s\u00f8n Doe';
  const header = digestAuthorization(
    challenge,
    { user, password: 'Secret, or not?' },
    { method: 'GET', target: '/doe.json', body: undefined },
    1,
    'NTg6RKcb9boFIAS3KrFK9BGeh+niz/sm',
  );
  assert.match(header, /userhash=true/);
  assert.match(header, /^Digest username="[0-9a-f]{64}"/);
  assert.match(
    digestAuthorization({ ...challenge, userhash: false }, { user, password: 'x' }, call, 1),
    /username\*=UTF-8''J%C3%A4s%C3%B8n%20Doe/,
  );
});

test('RFC 2617, 3.5: the same with MD5; without qop as RFC 2069 had it', () => {
  const challenge = challengeIn([
    [
      'WWW-Authenticate',
      'Digest realm="testrealm@host.com", qop="auth,auth-int", nonce="dcd98b7102dd2f0e8b11d0f600bfb0c093", opaque="5ccc069c403ebaf9f0171e9517f40e41"',
    ],
  ]);
  assert.ok(challenge);
  const header = digestAuthorization(challenge, { user: 'Mufasa', password: 'Circle Of Life' }, call, 1, '0a4f113b');
  assert.equal(responseOf(header), '6629fae49393a05397450978507c4ef1');
  assert.doesNotMatch(digestAuthorization({ ...challenge, qop: undefined }, mufasa, call, 1), /nc=|qop/);
});

test('what differs, differs: the count, the method, the body under auth-int, the session variant', () => {
  const challenge = challengeIn([['WWW-Authenticate', `Digest ${common}, algorithm=SHA-256`]]);
  assert.ok(challenge);
  const made = (change: object, on: object = {}, count = 1): string | undefined =>
    responseOf(digestAuthorization({ ...challenge, ...change }, mufasa, { ...call, ...on }, count, cnonce));
  const all = [
    made({}),
    made({}, {}, 2),
    made({}, { method: 'PUT' }),
    made({ qop: 'auth-int' }),
    made({ qop: 'auth-int' }, { body: Buffer.from('a') }),
    made({ algorithm: 'SHA-256-sess' }),
  ];
  assert.equal(new Set(all).size, all.length);
});

test('challenges beside others, stale ones, unknown ones, and the nonce that comes next', () => {
  const beside = challengeIn([
    ['WWW-Authenticate', 'Basic realm="x", Digest realm="y", nonce="n", stale=TRUE, qop="auth"'],
  ]);
  assert.deepEqual([beside?.realm, beside?.stale], ['y', true]);
  assert.equal(challengeIn([['WWW-Authenticate', 'Digest realm="y", nonce="n", algorithm=SHA-9']]), undefined);
  assert.equal(challengeIn([['WWW-Authenticate', 'Digest realm="y", nonce="n", qop="other"']]), undefined);
  assert.equal(challengeIn([['WWW-Authenticate', 'Basic realm="x"']]), undefined);
  assert.equal(nextNonce([['Authentication-Info', 'qop=auth, nextnonce="abc=="']]), 'abc==');
});
