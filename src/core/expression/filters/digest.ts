/** Digests (FIPS 180-4, FIPS 202, RFC 1321) and keyed digests (RFC 2104). They yield bytes. */
import { createHash, createHmac, type Hash, type Hmac, hash } from 'node:crypto';
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

interface Pads {
  readonly algorithm: string;
  readonly key: Value;
  readonly inner: Buffer;
  readonly outer: Buffer;
}

/** Bytes that a digest takes at a time: keys are brought to that length (FIPS 180-4, FIPS 202). */
const blocks: Readonly<Record<string, number>> = {
  sha384: 128,
  sha512: 128,
  'sha512-224': 128,
  'sha512-256': 128,
  'sha3-256': 136,
  'sha3-384': 104,
  'sha3-512': 72,
};

let last: Pads | undefined;

/** RFC 2104, section 2: of a key that a run uses thousands of times, worked out once. */
function padsOf(algorithm: string, key: Value): Pads {
  if (last?.algorithm === algorithm && last.key === key) return last;
  const bytes = bytesOf(key);
  const long = Buffer.from(bytes);
  const block = blocks[algorithm] ?? 64;
  const own = Buffer.alloc(block);
  own.set(long.length > block ? hash(algorithm, long, 'buffer') : long);
  last = { algorithm, key, inner: xored(own, 0x36), outer: xored(own, 0x5c) };
  return last;
}

const xored = (bytes: Buffer, mask: number): Buffer => Buffer.from(bytes.map((byte) => byte ^ mask));

/** HMAC of two digests, each in one call: an object for each costs a run a tenth of its time. */
function keyedDigestOf(algorithm: string, input: Value, key: Value): Uint8Array {
  if (input instanceof StreamedBytes) return streamed(createHmac(algorithm, bytesOf(key)), input);
  const { inner, outer } = padsOf(algorithm, key);
  const bytes = bytesOf(input);
  const first = hash(
    algorithm,
    Buffer.concat([inner, typeof bytes === 'string' ? Buffer.from(bytes) : bytes]),
    'buffer',
  );
  return hash(algorithm, Buffer.concat([outer, first]), 'buffer');
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
    about: `the keyed ${name.toUpperCase()} digest, bytes; the key is a text or bytes`,
    example: `\${text | hmac-${name}(secret.key) | base64}`,
    arguments: [1, 1],
    streams: true,
    apply: (input, [key]) => keyedDigestOf(algorithm, input, key as Value),
  },
]);
