/** The log of echoes: a file a run, a line an echo, appended as it happens. */
import { randomBytes } from 'node:crypto';
import { closeSync, mkdirSync, openSync, writeSync } from 'node:fs';
import { mkdir, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { Spool } from '../exchange/response/overflow.js';
import { lineLog } from '../storage/line-log.js';
import { hiddenPieces } from './hidden-pieces.js';

export interface EchoLog {
  /** Short name of this run, the first part of its echoes' ids. */
  readonly run: string;
  nextId(): string;
  /**
   * @param make the line of an echo, without its line feed; called when there is time for it: what it reads must stay as it is
   * @param size of its bodies, in bytes or characters
   */
  append(make: () => string, size: number): void;
  /** A long body of an echo in a file of its own; its path from the folder of the echoes, undefined beyond 64 MB. */
  beside(id: string, direction: 'sent' | 'received', content: string | Uint8Array): string | undefined;
  /** A body that is too long for memory, as it comes. @param hide what is secret in a text; undefined of bytes */
  spool(id: string, hide: ((text: string) => string) | undefined): Spool;
  /** About how many characters wait to be written. */
  readonly waiting: number;
  /** Settles when all that was appended is written, but for bodies in files of their own. @throws Problem file-unreadable */
  written(): Promise<void>;
  /** Settles when all of it is. */
  flushed(): Promise<void>;
  /** @throws when a line could not be written */
  close(): Promise<void>;
}

/** @param local the collection's local state; the file is made with the first echo */
export function openEchoLog(local: string, started: Date): EchoLog {
  const run = shortName();
  const folder = join(local, 'echoes');
  const path = join(folder, `${started.toISOString().replace(/[-:]|\.\d+/g, '')}-${run}.jsonl`);
  let count = 0;
  let waiting: (() => string)[] = [];
  let text = '';
  let size = 0;
  let failure: unknown;
  const bodies: Promise<void>[] = [];
  const besides = new Set<string>();
  const log = lineLog(path, () => {
    toText();
    const batch = text;
    text = '';
    size = 0;
    return batch;
  });

  /** One after the other they take half as long as each by itself among other work. */
  function toText(): void {
    const echoes = waiting;
    waiting = [];
    for (const make of echoes) {
      try {
        text += `${make()}\n`;
      } catch (error) {
        failure ??= error;
      }
    }
  }

  /**
   * What follows a response leaves in this turn of the event loop or the next: records are made behind that, while the
   * other side works.
   */
  const later = (): void => {
    setImmediate(toText);
  };

  const nameBeside = (id: string, direction: string): string =>
    `bodies/${run}/${id.slice(run.length + 1)}-${direction}`;

  return {
    run,
    nextId: () => {
      count += 1;
      return `${run}.${count}`;
    },
    append(make, bodies) {
      const count = waiting.push(make);
      if (count === 1) setImmediate(later);
      else if (count >= most) toText();
      size += usual + bodies;
      log.wake();
    },
    beside(id, direction, content) {
      if (content.length > longestBeside) return undefined;
      const name = nameBeside(id, direction);
      // What left is recorded twice: before, and with its response.
      if (direction === 'sent') {
        if (besides.delete(name)) return name;
        besides.add(name);
      }
      bodies.push(
        mkdir(join(folder, 'bodies', run), { recursive: true, mode: 0o700 })
          .then(() => writeFile(join(folder, name), content, { mode: 0o600 }))
          .catch((error: unknown) => {
            failure ??= error;
          }),
      );
      return name;
    },
    spool(id, hide) {
      const file = nameBeside(id, 'received');
      const path = join(folder, file);
      mkdirSync(join(folder, 'bodies', run), { recursive: true, mode: 0o700 });
      const handle = openSync(path, 'w', 0o600);
      const write = (content: string | Uint8Array): void => {
        const bytes = typeof content === 'string' ? Buffer.from(content) : content;
        for (let done = 0; done < bytes.length; ) done += writeSync(handle, bytes, done);
      };
      const pieces = hide && hiddenPieces(hide, write);
      return {
        path,
        file,
        write: pieces ? pieces.write : write,
        close() {
          pieces?.end();
          closeSync(handle);
        },
      };
    },
    written: () => log.written(),
    get waiting() {
      return size;
    },
    async flushed() {
      await log.written();
      await Promise.all(bodies);
      if (failure !== undefined) throw failure;
    },
    async close() {
      await log.close();
      await Promise.all(bodies);
      if (failure !== undefined) throw failure;
    },
  };
}

/** More are not left waiting, whatever else there is to do. */
const most = 256;

/** Characters of an echo without its bodies, about. */
const usual = 1000;

/** A longer body is recorded by its beginning alone. */
const longestBeside = 64e6;

/** Four letters and digits that are hard to confuse; a letter first, so that no file format takes an id for a number. */
export function shortName(): string {
  const letters = 'abcdefghjkmnpqrstuvwxyz';
  const both = `${letters}23456789`;
  return [...randomBytes(4)]
    .map((byte, index) => (index === 0 ? letters[byte % letters.length] : both[byte % both.length]))
    .join('');
}
