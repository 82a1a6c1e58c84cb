/** Hiding secrets by value, and files that only their user can read. */
import assert from 'node:assert/strict';
import { readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { test } from 'node:test';
import fc from 'fast-check';
import { makeRedactor } from '../../../src/core/echo/redactor.js';
import { pastedWrongly } from '../../../src/core/session/credentials.js';
import { encryptedFile } from '../../../src/core/storage/encrypted-file.js';
import { temporaryFolder } from '../../support/folder.js';

test('a secret is hidden in every form in which it may be written', () => {
  fc.assert(
    fc.property(fc.string({ minLength: 8, maxLength: 60, unit: 'binary' }), fc.string(), (secret, around) => {
      fc.pre(secret.trim().length >= 8 && !/\p{Surrogate}/u.test(secret) && !around.includes(secret));
      const redactor = makeRedactor();
      redactor.add(secret);
      const forms = [
        secret,
        JSON.stringify(secret).slice(1, -1),
        encodeURIComponent(secret),
        Buffer.from(secret).toString('base64'),
        Buffer.from(secret).toString('base64url'),
        Buffer.from(secret).toString('hex'),
      ];
      for (const form of forms) assert.ok(!redactor.hide(`${around}${form}${around}`).includes(form), form);
    }),
    { numRuns: 300 },
  );
});

test('text that holds no secret is left as it is, and short values hide nothing', () => {
  const redactor = makeRedactor();
  redactor.add('abc');
  redactor.add('tidewater-42');
  assert.equal(redactor.hide('abc stays, tidewater stays'), 'abc stays, tidewater stays');
  assert.deepEqual(redactor.hideIn({ a: ['x tidewater-42 y'], n: 3 }), { a: ['x ‹secret› y'], n: 3 });
});

test('of two secrets of which one holds the other, nothing is left', () => {
  const redactor = makeRedactor();
  redactor.add('inner-secret');
  redactor.add('Bearer inner-secret-longer');
  assert.equal(redactor.hide('Bearer inner-secret-longer'), '‹secret›');
});

test('a sealed file is read back, is mode 0600, and says nothing in the open', async () => {
  const folder = temporaryFolder();
  const [path, home] = [join(folder, 'secrets.sealed'), join(folder, 'home')];
  const file = encryptedFile<Record<string, string>>(path, home, {});
  assert.deepEqual(await file.read(), {});
  await file.write({ password: 'tidewater-42' });
  assert.deepEqual(await file.read(), { password: 'tidewater-42' });
  assert.equal(statSync(path).mode & 0o777, 0o600);
  assert.equal(statSync(join(home, 'key')).mode & 0o777, 0o600);
  assert.ok(!readFileSync(path, 'latin1').includes('tidewater'));
});

test('a sealed file that was altered, or whose key was replaced, is refused', async () => {
  const folder = temporaryFolder();
  const [path, home] = [join(folder, 'x.sealed'), join(folder, 'home')];
  const file = encryptedFile<string>(path, home, '');
  await file.write('value');
  const good = readFileSync(path, 'utf8');
  writeFileSync(
    path,
    good
      .replace(/.\n$/, (end) => (end[0] === 'A' ? 'B\n' : 'A\n'))
      .replace(/\n(.)/, (_, first) => `\n${first === 'A' ? 'B' : 'A'}`),
  );
  await assert.rejects(file.read(), { code: 'secret-unreadable' });
  writeFileSync(path, good);
  writeFileSync(join(home, 'key'), `${'0'.repeat(64)}\n`);
  await assert.rejects(file.read(), { code: 'secret-unreadable' });
});

test('a value that was pasted wrongly is noticed by its shape', () => {
  for (const wrong of ['"quoted-token"', "'quoted'", 'token\n', ' token', 'token ', 'Bearer abc'])
    assert.notEqual(pastedWrongly(wrong), undefined, wrong);
  // Who pasted several things wrongly is told of all of them.
  const all = pastedWrongly(' "Bearer abc"') ?? '';
  for (const fault of [/quotes/, /space/, /Bearer/]) assert.match(all, fault);
  for (const right of ['token', 'it"s', '-----BEGIN KEY-----\nx\n-----END KEY-----'])
    assert.equal(pastedWrongly(right), undefined, right);
});

const fields: readonly (readonly [text: string, shown: string])[] = [
  ['{"user":"agent","password":"tide"}', '{"user":"agent","password":"‹secret›"}'],
  ['{"access_token": "a\\"b", "expiresIn": 5}', '{"access_token": "‹secret›", "expiresIn": 5}'],
  ['{"apiKey":"x","note":"token of thanks"}', '{"apiKey":"‹secret›","note":"token of thanks"}'],
  ['{"nextPageToken":"p2","tokenType":"bearer","token":""}', '{"nextPageToken":"p2","tokenType":"bearer","token":""}'],
  ['user=agent&password=a%20b&code=1', 'user=agent&password=‹secret›&code=1'],
  ['http://127.0.0.1/x?token=abc&page=2', 'http://127.0.0.1/x?token=‹secret›&page=2'],
];
for (const [text, shown] of fields)
  test(`${text} is shown as ${shown}`, () => assert.equal(makeRedactor().hide(text), shown));

test('fields that are named as credentials are hidden in structures too', () => {
  const value = { login: { password: 'tide', token: null, tokens: 3 }, list: [{ secret: 's' }] };
  assert.deepEqual(makeRedactor().hideIn(value), {
    login: { password: '‹secret›', token: null, tokens: 3 },
    list: [{ secret: '‹secret›' }],
  });
});
