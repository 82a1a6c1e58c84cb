/** A text in pieces comes out as it would as a whole, wherever a secret stands. */
import assert from 'node:assert/strict';
import { test } from 'node:test';
import fc from 'fast-check';
import { hiddenPieces } from '../../../src/core/echo/hidden-pieces.js';
import { makeRedactor } from '../../../src/core/echo/redactor.js';

test('secrets across pieces and windows are hidden', () => {
  const redactor = makeRedactor();
  const secret = 'sounding-lead-quay-77-élevé';
  redactor.add(secret);
  const filler = fc.integer({ min: 0, max: 300_000 }).map((length) => 'tide é '.repeat(Math.ceil(length / 7)));
  const text = fc.array(fc.oneof(filler, fc.constant(secret), fc.constant(`"password":"${secret}-more"`)), {
    minLength: 3,
    maxLength: 8,
  });
  fc.assert(
    fc.property(text, fc.integer({ min: 1, max: 200_000 }), (parts, size) => {
      const whole = parts.join(' ');
      const bytes = Buffer.from(whole);
      let shown = '';
      const pieces = hiddenPieces(redactor.hide, (one) => {
        shown += one;
      });
      for (let at = 0; at < bytes.length; at += size) pieces.write(bytes.subarray(at, at + size));
      pieces.end();
      assert.equal(shown, redactor.hide(whole));
    }),
    { numRuns: 30, seed: 20 },
  );
});
