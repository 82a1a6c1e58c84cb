/** Content codings (RFC 9110 section 8.4.1), with a limit against responses that swell without end. */
import { once } from 'node:events';
import { type Transform, Writable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
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
import { Problem } from '../../problem/problem.js';

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
    // Not registered, and meant by some servers as identity is.
    .filter((name) => name !== '' && name !== 'identity' && name !== 'none')
    .reverse();

function codingNamed(name: string): Coding {
  const coding = codings.get(name);
  if (!coding) throw new Error(`the coding ${name} is not known`);
  return coding;
}

/** @param header the value of Content-Encoding @throws Problem response-encoding, response-too-large */
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

/** Streams that undo the codings one after another. @param first the beginning of the body @throws Problem response-encoding */
function decompressors(first: Uint8Array, header: string): readonly Transform[] {
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
function undecodable(coding: string, error: NodeJS.ErrnoException): Problem {
  const large = error.code === 'ERR_BUFFER_TOO_LARGE';
  return new Problem(
    large ? 'response-too-large' : 'response-encoding',
    {
      what: large
        ? 'the decompressed response is larger than the limit'
        : `the response says ${coding}, but cannot be decompressed`,
      where: 'decompressing the response',
      cause: error.message,
      remedy: 'headers: {Accept-Encoding: identity} asks for the plain body',
    },
    { cause: error },
  );
}

/** Undoes content codings as pieces come. */
export interface Decoding {
  /** A promise where it has to wait; rejects with a Problem response-encoding, or with what `take` threw. */
  write(piece: Uint8Array): Promise<void> | undefined;
  /** Settles when all of it was taken. */
  end(): Promise<void>;
}

/** @param header the value of Content-Encoding @param take told of each decoded piece, in order */
export function decoding(header: string, take: (piece: Uint8Array) => void): Decoding {
  if (namesIn(header).length === 0) {
    return {
      write: (piece) => take(piece) as undefined,
      end: async () => undefined,
    };
  }
  let into: Transform | undefined;
  let written: Promise<void> = Promise.resolve();
  let failure: unknown;
  const begin = (first: Uint8Array): Transform => {
    const steps = decompressors(first, header);
    const last = new Writable({
      write(piece: Buffer, _encoding, done) {
        try {
          take(piece);
          done();
        } catch (error) {
          failure ??= error;
          done(error as Error);
        }
      },
    });
    written = pipeline([...steps, last]).catch((error: Error) => {
      failure ??= undecodable(header, error);
      throw failure;
    });
    // It is told by whoever waits next.
    written.catch(() => undefined);
    return steps[0] as Transform;
  };
  return {
    write(piece) {
      if (failure !== undefined) return Promise.reject(failure);
      try {
        into ??= begin(piece);
      } catch (error) {
        return Promise.reject(error);
      }
      if (into.write(piece)) return undefined;
      const drained = once(into, 'drain').then(() => undefined);
      return Promise.race([drained, written]).catch((error: unknown) => Promise.reject(failure ?? error));
    },
    async end() {
      into?.end();
      await written;
    },
  };
}
