/** `Content-Digest` (RFC 9530, section 2): digests of the content as it is sent. */
import { createHash } from 'node:crypto';
import { parseDictionary, serializeDictionary } from 'structured-headers';
import type { WireBody } from '../../exchange/wire.js';

/** Our names, which are those of the registry, and the library's; the others of the registry are insecure. */
const algorithms = { 'sha-256': 'sha256', 'sha-512': 'sha512' } as const;
export type DigestAlgorithm = keyof typeof algorithms;

/** A body of files is read piece by piece. */
export function contentDigest(body: WireBody, algorithm: DigestAlgorithm): string {
  const hash = createHash(algorithms[algorithm]);
  for (const piece of body.streamed ? body.streamed.pieces() : [body.bytes]) hash.update(piece);
  return serializeDictionary(new Map([[algorithm, [hash.digest(), new Map()]]]));
}

/** undefined where no digest of a known algorithm is in it. */
export function digestFits(field: string, content: Uint8Array): boolean | undefined {
  let fits: boolean | undefined;
  for (const [name, [value]] of parseDictionary(field)) {
    if (!Object.hasOwn(algorithms, name) || !(value instanceof ArrayBuffer)) continue;
    const own = createHash(algorithms[name as DigestAlgorithm])
      .update(content)
      .digest();
    fits = (fits ?? true) && own.equals(Buffer.from(value));
  }
  return fits;
}
