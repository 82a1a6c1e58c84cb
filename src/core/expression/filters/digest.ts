/** Digests (FIPS 180-4, RFC 1321) and keyed digests (RFC 2104). They yield bytes. */
import { createHash, createHmac } from 'node:crypto';
import { textOf } from '../../value/text.js';
import type { Value } from '../../value/written.js';
import type { Filter } from './filter.js';

/** Our names, which are those of the hash function registry, and the library's. */
const algorithms = {
  md5: 'md5',
  'sha-1': 'sha1',
  'sha-256': 'sha256',
  'sha-384': 'sha384',
  'sha-512': 'sha512',
} as const;

const bytesOf = (value: Value): Uint8Array =>
  value instanceof Uint8Array ? value : Buffer.from(textOf(value), 'utf8');

export const digestFilters: readonly Filter[] = Object.entries(algorithms).flatMap(([name, algorithm]): Filter[] => [
  {
    name,
    about: `the ${name.toUpperCase()} digest, bytes`,
    example: `\${body | ${name} | hex}`,
    arguments: [0, 0],
    apply: (input) => createHash(algorithm).update(bytesOf(input)).digest(),
  },
  {
    name: `hmac-${name}`,
    about: `the keyed ${name.toUpperCase()} digest, bytes; the key is a text or bytes`,
    example: `\${text | hmac-${name}(secret.key) | base64}`,
    arguments: [1, 1],
    apply: (input, [key]) =>
      createHmac(algorithm, bytesOf(key as Value))
        .update(bytesOf(input))
        .digest(),
  },
]);
