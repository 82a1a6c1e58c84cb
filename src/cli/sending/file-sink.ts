/**
 * The body of a response straight to a file: held in `FILE.part` until it is whole. One that was cut short is gone on
 * with where it ended, as long as the server says that it is still the same (RFC 9110 sections 13.1.5 and 14.2).
 */
import {
  closeSync,
  existsSync,
  openSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
  writeSync,
} from 'node:fs';
import { dirname, resolve } from 'node:path';
import * as z from 'zod/mini';
import type { HeaderLine } from '../../core/exchange/request/wire.js';
import { type Decoding, decoding } from '../../core/exchange/response/compression.js';
import type { Sink } from '../../core/exchange/response/sink.js';
import { Problem } from '../../core/problem/problem.js';
import { sizeText } from '../../core/value/measures.js';
import type { Terminal } from '../terminal/terminal.js';

/** Before anything is sent. @throws Problem usage */
function requireWritable(path: string): void {
  const folder = dirname(resolve(path));
  if (!existsSync(folder)) {
    throw new Problem('usage', {
      what: `--to ${path}: there is no folder ${folder}`,
      remedy: 'make it first, or name another file',
    });
  }
  if (existsSync(path) && !statSync(path).isFile())
    throw new Problem('usage', { what: `--to ${path}: that is a folder`, remedy: 'name a file in it' });
}

/** What is known of a part of a file: which version of what it is, by its strong validator. */
const partFile = z.strictObject({ tag: z.string() });
type Part = z.infer<typeof partFile>;

/** Told once, when what is written is so many times what came. */
const swollen = 100;

export class FileSink implements Sink {
  saved = 0;
  private readonly part: string;
  private readonly note: string;
  /** Of the part. */
  private file: number | undefined;
  private decoding: Decoding | undefined;
  private came = 0;
  private announced = 0;
  private told = false;

  constructor(
    private readonly path: string,
    private readonly terminal: Terminal,
  ) {
    requireWritable(path);
    this.part = `${path}.part`;
    this.note = `${path}.part.json`;
  }

  /** Asks for the rest where a part is there. */
  get lines(): readonly HeaderLine[] {
    const known = this.known();
    if (!known) return [];
    const line = (name: string, value: string): HeaderLine => ({ name, value, origin: '--to', secret: false });
    return [line('Range', `bytes=${statSync(this.part).size}-`), line('If-Range', known.tag)];
  }

  private known(): Part | undefined {
    if (!existsSync(this.part) || !existsSync(this.note)) return undefined;
    try {
      return statSync(this.part).size > 0 ? partFile.parse(JSON.parse(readFileSync(this.note, 'utf8'))) : undefined;
    } catch {
      return undefined;
    }
  }

  begin(status: number, headers: readonly (readonly [string, string])[]): 'instead' | 'nothing' {
    if (status !== 200 && status !== 206) return 'nothing';
    const header = (name: string): string | undefined => headers.find(([key]) => key.toLowerCase() === name)?.[1];
    const before = status === 206 && existsSync(this.part) ? statSync(this.part).size : 0;
    const [, from] = /^bytes (\d+)-/.exec(header('content-range') ?? '') ?? [];
    if (status === 206 && Number(from) !== before) return 'nothing';
    const coding = header('content-encoding') ?? '';
    const tag = header('etag');
    // A weak validator does not promise the same bytes.
    if (tag !== undefined && !tag.startsWith('W/') && coding === '') {
      writeFileSync(this.note, JSON.stringify({ tag } satisfies Part));
    } else rmSync(this.note, { force: true });
    this.saved = before;
    this.announced = coding === '' ? before + Number(header('content-length') ?? 0) : 0;
    this.file = this.writing(() => openSync(this.part, before > 0 ? 'a' : 'w'));
    this.decoding = decoding(coding, (piece) => this.take(piece));
    return 'instead';
  }

  /** At once: a connection that is held back while its other side ends it does not say that all has come. */
  private take(piece: Uint8Array): void {
    this.writing(() => {
      for (let done = 0; done < piece.length; ) done += writeSync(this.file as number, piece, done);
    });
    this.saved += piece.length;
    if (this.told || this.saved < 10e6 || this.saved < swollen * this.came) return;
    this.told = true;
    this.terminal.note(
      `${this.terminal.err.yellow('warning')}  ${sizeText(this.came)} received have grown to ${sizeText(this.saved)} so far in ${this.part}`,
    );
  }

  private writing<T>(work: () => T): T {
    try {
      return work();
    } catch (error) {
      const cause = (error as Error).message;
      const remedy = 'the part file stays: the same command continues from there if the server supports ranges';
      throw new Problem('file-unreadable', { what: `cannot write the response to ${this.part}`, cause, remedy });
    }
  }

  write(chunk: Buffer): Promise<void> | undefined {
    this.came += chunk.length;
    let waiting: Promise<void> | undefined;
    try {
      waiting = this.decoding?.write(chunk);
    } catch (error) {
      return Promise.reject(error);
    }
    this.terminal.progress(
      `saved ${sizeText(this.saved)}${this.announced > 0 ? ` of ${sizeText(this.announced)}` : ''}`,
    );
    return waiting;
  }

  /**
   * @param whole false where the response was cut short: the part stays, to be resumed
   * @returns whether the file is there now; undefined where the body was none to save
   * @throws Problem file-unreadable, response-encoding
   */
  async finish(whole: boolean): Promise<boolean | undefined> {
    if (this.file === undefined) return undefined;
    try {
      await this.decoding?.end();
    } catch (error) {
      // A response that failed has its own error, which matters more.
      if (whole) throw error;
    } finally {
      closeSync(this.file);
      this.terminal.progress('');
    }
    if (!whole) return false;
    renameSync(this.part, this.path);
    rmSync(this.note, { force: true });
    return true;
  }
}
