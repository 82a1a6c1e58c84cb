/** Keys of signatures, as a secret holds them: PEM (RFC 7468) or a JSON Web Key (RFC 7517). */

import { createPrivateKey, createPublicKey, type KeyObject } from 'node:crypto';
import { action } from '../../problem/actions.js';
import { Problem } from '../../problem/problem.js';

const known = new Map<string, KeyObject>();

/** @throws Problem expression-value: it is no private key */
export const privateKey = (text: string): KeyObject => keyFrom(text, 'private');

/** Of a private key, the public half. @throws Problem expression-value: it is no key */
export const publicKey = (text: string): KeyObject => keyFrom(text, 'public');

/** To read a key takes longer than to sign with it, and a run signs thousands of times. */
function keyFrom(text: string, kind: 'private' | 'public'): KeyObject {
  const name = `${kind} ${text}`;
  const before = known.get(name);
  if (before) return before;
  const make = kind === 'private' ? createPrivateKey : createPublicKey;
  try {
    const key = /^\s*\{/.test(text) ? make({ key: JSON.parse(text), format: 'jwk' }) : make(text);
    known.set(name, key);
    return key;
  } catch {
    // What the library says may quote the key.
    throw new Problem('expression-value', {
      what: `the key is not a ${kind} key`,
      remedy: `a key is PEM text that begins with -----BEGIN, or a JSON Web Key; where line breaks were lost on the way, ${action().setSecretFromFile()}`,
    });
  }
}
