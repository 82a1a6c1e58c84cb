/** `Content-Digest` (RFC 9530, section 2): digests of the content as it is sent. */
import { createHash } from 'node:crypto';
import { parseDictionary, serializeDictionary } from 'structured-headers';
import type { WireBody } from '../../exchange/request/wire.js';
import type { Through } from '../../expression/evaluation.js';
import { ownMember } from '../../value/own-member.js';
import { contentOf } from '../sent.js';

/** Our names, which are those of the registry, and the library's: what is made; the others of the registry are insecure. */
const algorithms = { 'sha-256': 'sha256', 'sha-512': 'sha512' } as const;
export type DigestAlgorithm = keyof typeof algorithms;

/** A body of files is read piece by piece. @param through as a filter goes, where a program is written */
export function contentDigest(body: WireBody, algorithm: DigestAlgorithm, through?: Through): string {
  const whole = (): Uint8Array => {
    const hash = createHash(algorithms[algorithm]);
    for (const piece of body.streamed ? body.streamed.pieces() : [body.bytes]) hash.update(piece);
    return hash.digest();
  };
  const digest = through ? (through(algorithm, contentOf(body), [], whole) as Uint8Array) : whole();
  return serializeDictionary(new Map([[algorithm, [new Uint8Array(digest), new Map()]]]));
}

/**
 * Older algorithms of the registry (RFC 9530, section 5), which say nothing of who made the content, but whether it came over
 * whole: their sums, as numbers of so many octets.
 */
const sums: Readonly<Record<string, readonly [octets: number, sum: (content: Uint8Array) => number]>> = {
  adler: [4, adler32],
  crc32c: [4, crc32c],
  unixsum: [2, unixSum],
};

const hashes: Readonly<Record<string, string>> = { ...algorithms, sha: 'sha1', md5: 'md5' };

/** undefined where no digest of a known algorithm is in it. */
export function digestFits(field: string, content: Uint8Array): boolean | undefined {
  let fits: boolean | undefined;
  for (const [name, [value]] of parseDictionary(field)) {
    const own = value instanceof ArrayBuffer || typeof value === 'number' ? digestBy(name, content) : undefined;
    if (own === undefined) continue;
    const same =
      value instanceof ArrayBuffer
        ? own.equals(Buffer.from(value))
        : own.length <= 4 && own.readUIntBE(0, own.length) === value;
    fits = (fits ?? true) && same;
  }
  return fits;
}

function digestBy(name: string, content: Uint8Array): Buffer | undefined {
  const hash = ownMember(hashes, name);
  if (hash !== undefined) return createHash(hash).update(content).digest();
  const [octets, sum] = ownMember(sums, name) ?? [];
  if (octets === undefined || !sum) return undefined;
  const bytes = Buffer.alloc(octets);
  bytes.writeUIntBE(sum(content), 0, octets);
  return bytes;
}

/** RFC 1950, section 8. */
function adler32(content: Uint8Array): number {
  let [one, two] = [1, 0];
  for (const octet of content) {
    one = (one + octet) % 65521;
    two = (two + one) % 65521;
  }
  return two * 65536 + one;
}

/** RFC 9260, appendix A: the polynomial of Castagnoli, reflected. */
function crc32c(content: Uint8Array): number {
  let rest = 0xffffffff;
  for (const octet of content) {
    rest ^= octet;
    for (let bit = 0; bit < 8; bit += 1) rest = (rest >>> 1) ^ (rest & 1 ? 0x82f63b78 : 0);
  }
  return ~rest >>> 0;
}

/** The sum of the `sum` command: rotated to the right before each octet is added, in 16 bits. */
function unixSum(content: Uint8Array): number {
  let sum = 0;
  for (const octet of content) sum = (((sum >>> 1) | ((sum & 1) << 15)) + octet) & 0xffff;
  return sum;
}
