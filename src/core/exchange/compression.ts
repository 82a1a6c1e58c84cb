/** Content codings (RFC 9110 section 8.4.1), with a limit against answers that swell without end. */
import type { Transform } from 'node:stream';
import { promisify } from 'node:util';
import {
  brotliDecompress,
  createBrotliDecompress,
  createGunzip,
  createInflate,
  createInflateRaw,
  gunzip,
  inflate,
  inflateRaw,
} from 'node:zlib';
import { Problem } from '../problem/problem.js';

interface Coding {
  /** Of a body that is there as a whole. */
  readonly whole: (body: Uint8Array, options: { readonly maxOutputLength: number }) => Promise<Buffer>;
  /** @param first the beginning of the body */
  readonly piecewise: (first: Uint8Array) => Transform;
}

/** RFC 9110 means the zlib format; some servers send the bare one. */
const isBare = (body: Uint8Array): boolean => (body[0] ?? 0) % 16 !== 8;

const gzip: Coding = { whole: promisify(gunzip), piecewise: () => createGunzip() };

const codings: ReadonlyMap<string, Coding> = new Map([
  ['gzip', gzip],
  ['x-gzip', gzip],
  ['br', { whole: promisify(brotliDecompress), piecewise: () => createBrotliDecompress() }],
  [
    'deflate',
    {
      whole: (body, options) => promisify(isBare(body) ? inflateRaw : inflate)(body, options),
      piecewise: (first) => (isBare(first) ? createInflateRaw() : createInflate()),
    },
  ],
]);

/** Names in the order in which they are undone. */
const namesIn = (header: string): readonly string[] =>
  header
    .split(',')
    .map((name) => name.trim().toLowerCase())
    .filter((name) => name !== '' && name !== 'identity')
    .reverse();

function codingNamed(name: string): Coding {
  const coding = codings.get(name);
  if (!coding) throw new Error(`the coding ${name} is not known`);
  return coding;
}

/** @param header the value of Content-Encoding @throws Problem answer-encoding, answer-too-large */
export async function decompressed(body: Uint8Array, header: string, largest: number): Promise<Buffer> {
  let out = Buffer.from(body.buffer, body.byteOffset, body.length);
  for (const name of namesIn(header)) {
    try {
      out = await codingNamed(name).whole(out, { maxOutputLength: largest });
    } catch (error) {
      throw undecodable(name, error as NodeJS.ErrnoException);
    }
  }
  return out;
}

/**
 * Streams that undo the codings one after another, none where there is nothing to undo.
 * @param first the beginning of the body @throws Problem answer-encoding
 */
export function decompressors(first: Uint8Array, header: string): readonly Transform[] {
  return namesIn(header).map((name, index) => {
    try {
      // How an inner coding begins is seen only when it comes.
      return codingNamed(name).piecewise(index === 0 ? first : Buffer.of(0x78));
    } catch (error) {
      throw undecodable(name, error as Error);
    }
  });
}

/** @param coding the name, or the names as they stand in the header */
export function undecodable(coding: string, error: NodeJS.ErrnoException): Problem {
  const large = error.code === 'ERR_BUFFER_TOO_LARGE';
  return new Problem(
    large ? 'answer-too-large' : 'answer-encoding',
    {
      what: large
        ? 'the decompressed answer is larger than what is read'
        : `the answer says ${coding}, but cannot be decompressed`,
      where: 'decompressing the answer',
      cause: error.message,
      remedy: 'headers: {Accept-Encoding: identity} asks for the plain body',
    },
    { cause: error },
  );
}
