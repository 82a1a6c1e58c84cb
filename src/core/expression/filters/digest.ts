/** Digests (FIPS 180-4, FIPS 202, RFC 1321) and keyed digests (RFC 2104). They yield bytes. */
import { createHash, createHmac, createSecretKey, type Hash, type Hmac, hash, type KeyObject } from 'node:crypto';
import { StreamedBytes } from '../../value/streamed.js';
import { textOf } from '../../value/text.js';
import type { Value } from '../../value/written.js';
import type { Filter } from './filter.js';

/** Our names, which are those of the hash function registry, and the library's. */
const algorithms = {
  md5: 'md5',
  'sha-1': 'sha1',
  'sha-224': 'sha224',
  'sha-256': 'sha256',
  'sha-384': 'sha384',
  'sha-512': 'sha512',
  'sha-512-224': 'sha512-224',
  'sha-512-256': 'sha512-256',
  'sha3-256': 'sha3-256',
  'sha3-384': 'sha3-384',
  'sha3-512': 'sha3-512',
} as const;

const bytesOf = (value: Value): Uint8Array | string => (value instanceof Uint8Array ? value : textOf(value));

/** What is too long for memory is read piece by piece. */
function streamed(digest: Hash | Hmac, input: StreamedBytes): Uint8Array {
  for (const piece of input.pieces()) digest.update(piece);
  return digest.digest();
}

/** One call for all of it: several times as fast as an object for each digest. */
function digestOf(algorithm: string, input: Value): Uint8Array {
  if (input instanceof StreamedBytes) return streamed(createHash(algorithm), input);
  const bytes = bytesOf(input);
  if (bytes.length > 0) return hash(algorithm, bytes, 'buffer');
  // Most requests have no body.
  let digest = ofNothing.get(algorithm);
  if (!digest) {
    digest = hash(algorithm, '', 'buffer');
    ofNothing.set(algorithm, digest);
  }
  return digest;
}

const ofNothing = new Map<string, Uint8Array>();

let last: { readonly key: Value; object?: KeyObject } | undefined;

/** A key that comes twice in a row is made ready for all the times that it may come: a run signs thousands of times. */
function keyOf(key: Value): KeyObject | Uint8Array | string {
  if (last?.key !== key) {
    last = { key };
    return bytesOf(key);
  }
  last.object ??= createSecretKey(Buffer.from(bytesOf(key)));
  return last.object;
}

function keyedDigestOf(algorithm: string, input: Value, key: Value): Uint8Array {
  const digest = createHmac(algorithm, keyOf(key));
  return input instanceof StreamedBytes ? streamed(digest, input) : digest.update(bytesOf(input)).digest();
}

export const digestFilters: readonly Filter[] = Object.entries(algorithms).flatMap(([name, algorithm]): Filter[] => [
  {
    name,
    about: `the ${name.toUpperCase()} digest, bytes`,
    example: `\${body | ${name} | hex}`,
    arguments: [0, 0],
    streams: true,
    apply: (input) => digestOf(algorithm, input),
  },
  {
    name: `hmac-${name}`,
    about: `the keyed ${name.toUpperCase()} digest, bytes; the key is text or bytes`,
    example: `\${text | hmac-${name}(secret.key) | base64}`,
    arguments: [1, 1],
    streams: true,
    apply: (input, [key]) => keyedDigestOf(algorithm, input, key as Value),
  },
]);
