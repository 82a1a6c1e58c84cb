/** A body that is too long for memory: decoded, it goes to a file as it comes, and its beginning stays. */
import { action } from '../../problem/actions.js';
import { Problem } from '../../problem/problem.js';
import { sizeText } from '../../value/measures.js';
import { type Decoding, decoding } from './compression.js';

/** Bytes of a body, decoded, that are held in memory. */
export const mostInMemory = 56e6;
/** Bytes of one that goes to a file; a compressed one may have no end. */
const mostSpooled = 2e9;
/** Bytes of the beginning that is shown and recorded. */
const beginning = 400_000;

/** Takes the pieces of a body. */
export interface Spool {
  /** Where it is, for people. */
  readonly path: string;
  /** The same from the folder of the echoes. */
  readonly file: string;
  write(piece: Uint8Array): void;
  close(): void;
}

/** @param textual it is text, and secrets in it are hidden */
export type OpenSpool = (textual: boolean) => Spool;

/** What became of it. */
export interface Spooled {
  readonly path: string;
  readonly file: string;
  /** Bytes. */
  readonly size: number;
}

export class Overflow {
  private size = 0;
  private readonly head: Uint8Array[] = [];
  private readonly decoding: Decoding;

  /** @param coding the value of Content-Encoding, or nothing */
  constructor(
    private readonly spool: Spool,
    coding: string,
  ) {
    this.decoding = decoding(coding, (piece) => this.take(piece));
  }

  private take(piece: Uint8Array): void {
    if (this.size < beginning) this.head.push(Buffer.from(piece.subarray(0, beginning - this.size)));
    this.size += piece.length;
    if (this.size > mostSpooled) throw tooLarge(`the limit is ${sizeText(mostSpooled)}`);
    this.spool.write(piece);
  }

  /** A promise where it has to wait. */
  write(piece: Uint8Array): Promise<void> | undefined {
    try {
      return this.decoding.write(piece);
    } catch (error) {
      return Promise.reject(error);
    }
  }

  /** @returns `problem`: what kept it from being decoded */
  async end(): Promise<{ readonly body: Buffer; readonly spooled: Spooled; readonly problem: unknown }> {
    const problem = await this.decoding.end().then(
      () => undefined,
      (error: unknown) => error,
    );
    this.spool.close();
    const { path, file } = this.spool;
    return { body: Buffer.concat(this.head), spooled: { path, file, size: this.size }, problem };
  }
}

export const tooLarge = (cause: string): Problem =>
  new Problem('response-too-large', {
    what: 'the response is too large',
    where: 'receiving the response',
    cause,
    remedy: `request less, or in pages; ${action().saveResponse()}`,
  });
