/**
 * The body of an answer straight to a file: held in `FILE.part` until it is whole. One that was cut short is gone on
 * with where it ended, as long as the server says that it is still the same (RFC 9110 sections 13.1.5 and 14.2).
 */
import { once } from 'node:events';
import {
  createWriteStream,
  existsSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  type WriteStream,
  writeFileSync,
} from 'node:fs';
import { dirname, resolve } from 'node:path';
import type { Writable } from 'node:stream';
import { finished, pipeline } from 'node:stream/promises';
import * as z from 'zod/mini';
import { decompressors, undecodable } from '../../core/exchange/compression.js';
import type { Sink } from '../../core/exchange/sink.js';
import type { HeaderLine } from '../../core/exchange/wire.js';
import { Problem } from '../../core/problem/problem.js';
import { sizeText } from '../../core/value/measures.js';
import type { Terminal } from '../terminal.js';

/** Before anything is sent. @throws Problem usage */
function demandWritable(path: string): void {
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

/** Where the pieces go: straight to the file, or through what undoes their coding. */
interface Way {
  readonly into: Writable;
  /** Settles when all of it is in the file. */
  readonly written: Promise<unknown>;
}

export class FileSink implements Sink {
  saved = 0;
  private readonly part: string;
  private readonly note: string;
  private coding = '';
  private out: WriteStream | undefined;
  private way: Way | undefined;
  private failure: Problem | undefined;
  private announced = 0;

  constructor(
    private readonly path: string,
    private readonly terminal: Terminal,
  ) {
    demandWritable(path);
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
    this.coding = header('content-encoding') ?? '';
    const tag = header('etag');
    // A weak validator does not promise the same bytes.
    if (tag !== undefined && !tag.startsWith('W/') && this.coding === '') {
      writeFileSync(this.note, JSON.stringify({ tag } satisfies Part));
    } else rmSync(this.note, { force: true });
    this.saved = before;
    this.announced = this.coding === '' ? before + Number(header('content-length') ?? 0) : 0;
    this.out = createWriteStream(this.part, { flags: before > 0 ? 'a' : 'w' });
    this.out.on('error', ({ message, syscall }: NodeJS.ErrnoException) => {
      // What failed before it in a pipeline ends it too, with that error.
      if (syscall === undefined) return;
      this.failure ??= new Problem('file-unreadable', {
        what: `the answer could not be written to ${this.path}`,
        cause: message,
      });
    });
    return 'instead';
  }

  /** How the first piece begins tells how some codings are undone. */
  private wayFrom(first: Buffer): Way {
    const out = this.out as WriteStream;
    const steps = decompressors(first, this.coding);
    const [into] = steps;
    const written = into ? pipeline([...steps, out]) : finished(out);
    steps.at(-1)?.on('data', (chunk: Buffer) => {
      this.saved += chunk.length;
    });
    written.catch((error: Error) => {
      this.failure ??= undecodable(this.coding, error);
    });
    return { into: into ?? out, written };
  }

  write(chunk: Buffer): Promise<void> | undefined {
    if (this.failure) return Promise.reject(this.failure);
    try {
      this.way ??= this.wayFrom(chunk);
    } catch (error) {
      return Promise.reject(error);
    }
    const { into } = this.way;
    if (into === this.out) this.saved += chunk.length;
    this.terminal.progress(
      `saved ${sizeText(this.saved)}${this.announced > 0 ? ` of ${sizeText(this.announced)}` : ''}`,
    );
    if (into.write(chunk)) return undefined;
    return once(into, 'drain').then(
      () => undefined,
      (error: Error) => Promise.reject(this.failure ?? error),
    );
  }

  /**
   * @param whole false where the answer was cut short: the part stays, to be gone on with
   * @returns whether the file is there now; undefined where the body was none to save
   * @throws Problem file-unreadable, answer-encoding
   */
  async finish(whole: boolean): Promise<boolean | undefined> {
    if (!this.out) return undefined;
    const { into, written } = this.way ?? { into: this.out, written: finished(this.out) };
    into.end();
    await written.catch(() => undefined);
    this.terminal.progress('');
    if (!whole) return false;
    if (this.failure) throw this.failure;
    renameSync(this.part, this.path);
    rmSync(this.note, { force: true });
    return true;
  }
}
