/**
 * The log of echoes: a file a run, a line an echo, appended as it happens. Lines that come while one
 * write is under way go out together with the next, so that a run is not slowed by its record.
 */
import { randomBytes } from 'node:crypto';
import { type FileHandle, mkdir, open, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { setTimeout } from 'node:timers/promises';
import type { Echo } from './echo.js';

export interface EchoLog {
  /** Short name of this run, the first part of its echoes' ids. */
  readonly run: string;
  nextId(): string;
  append(echo: Echo): void;
  /** A long body of an echo in a file of its own; its path from the folder of the echoes, undefined beyond 64 MB. */
  beside(id: string, direction: 'sent' | 'received', content: string | Uint8Array): string | undefined;
  /** How many bytes wait to be written. */
  readonly waiting: number;
  /** Settles when all that was appended is written. */
  flushed(): Promise<void>;
  /** @throws when a line could not be written */
  close(): Promise<void>;
}

/** @param local the collection's local state; the file is made with the first echo */
export function openEchoLog(local: string, started: Date): EchoLog {
  const run = shortName();
  const folder = join(local, 'echoes');
  const path = join(folder, `${started.toISOString().replace(/[-:]|\.\d+/g, '')}-${run}.jsonl`);
  let file: Promise<FileHandle> | undefined;
  let count = 0;
  let lines: string[] = [];
  let size = 0;
  let writing: Promise<void> | undefined;
  let failure: unknown;
  let closing = false;
  const bodies: Promise<void>[] = [];

  async function write(): Promise<void> {
    file ??= mkdir(folder, { recursive: true, mode: 0o700 }).then(() => open(path, 'a', 0o600));
    const handle = await file;
    while (lines.length > 0) {
      const batch = lines.join('');
      lines = [];
      size = 0;
      await handle.write(batch);
      // A run that sends fast writes a few large pieces instead of thousands of small ones.
      if (!closing && lines.length > 0) await setTimeout(gather);
    }
  }

  return {
    run,
    nextId: () => {
      count += 1;
      return `${run}.${count}`;
    },
    append(echo) {
      const line = `${JSON.stringify(echo)}\n`;
      lines.push(line);
      size += line.length;
      writing ??= write()
        .catch((error: unknown) => {
          failure ??= error;
        })
        .finally(() => {
          writing = undefined;
        });
    },
    beside(id, direction, content) {
      if (content.length > longestBeside) return undefined;
      const name = `bodies/${run}/${id.slice(run.length + 1)}-${direction}`;
      bodies.push(
        mkdir(join(folder, 'bodies', run), { recursive: true, mode: 0o700 })
          .then(() => writeFile(join(folder, name), content, { mode: 0o600 }))
          .catch((error: unknown) => {
            failure ??= error;
          }),
      );
      return name;
    },
    get waiting() {
      return size;
    },
    async flushed() {
      closing = true;
      while (writing) await writing;
      await Promise.all(bodies);
      closing = false;
    },
    async close() {
      closing = true;
      while (writing) await writing;
      await Promise.all(bodies);
      if (file) await (await file.catch(() => undefined))?.close();
      if (failure !== undefined) throw failure;
    },
  };
}

/** A longer body is recorded by its beginning alone. */
const longestBeside = 64e6;

/** Milliseconds between two writes; what a kill can take from the record at most. */
const gather = 25;

/** Four letters and digits that are hard to confuse. */
function shortName(): string {
  const alphabet = 'abcdefghjkmnpqrstuvwxyz23456789';
  return [...randomBytes(4)].map((byte) => alphabet[byte % alphabet.length]).join('');
}
