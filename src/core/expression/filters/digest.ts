/** Digests (FIPS 180-4, FIPS 202, RFC 1321) and keyed digests (RFC 2104). They yield bytes. */
import { createHash, createHmac, type Hash, type Hmac } from 'node:crypto';
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
function digestOf(hash: Hash | Hmac, input: Value): Uint8Array {
  if (!(input instanceof StreamedBytes)) return hash.update(bytesOf(input)).digest();
  for (const piece of input.pieces()) hash.update(piece);
  return hash.digest();
}

export const digestFilters: readonly Filter[] = Object.entries(algorithms).flatMap(([name, algorithm]): Filter[] => [
  {
    name,
    about: `the ${name.toUpperCase()} digest, bytes`,
    example: `\${body | ${name} | hex}`,
    arguments: [0, 0],
    streams: true,
    apply: (input) => digestOf(createHash(algorithm), input),
  },
  {
    name: `hmac-${name}`,
    about: `the keyed ${name.toUpperCase()} digest, bytes; the key is a text or bytes`,
    example: `\${text | hmac-${name}(secret.key) | base64}`,
    arguments: [1, 1],
    streams: true,
    apply: (input, [key]) => digestOf(createHmac(algorithm, bytesOf(key as Value)), input),
  },
]);
