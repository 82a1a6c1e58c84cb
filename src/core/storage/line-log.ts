/**
 * An append-only file of lines, written as they come: those that come while one write is under way go out together
 * with the next, so that a run is not slowed by its record. What was written survives a killed process.
 */
import { type FileHandle, mkdir, open } from 'node:fs/promises';
import { dirname } from 'node:path';
import { cannotWrite } from './atomic-write.js';

/** Milliseconds between two writes; what a kill can take from the record at most. */
const gather = 25;

export interface LineLog {
  /** There is something to take. */
  wake(): void;
  /** Settles when all that was there when it was called is written, without gathering. @throws when it could not be */
  written(): Promise<void>;
  close(): Promise<void>;
}

interface Waiter {
  readonly count: number;
  readonly go: () => void;
}

/** @param take the lines that wait, each with its line feed, and empties what it takes them from */
export function lineLog(path: string, take: () => string): LineLog {
  let file: Promise<FileHandle> | undefined;
  let writing: Promise<void> | undefined;
  let failure: unknown;
  /** How often there was something, and how much of that is written. */
  let woken = 0;
  let done = 0;
  let waiters: Waiter[] = [];
  let hurry: (() => void) | undefined;

  async function write(): Promise<void> {
    try {
      file ??= mkdir(dirname(path), { recursive: true, mode: 0o700 }).then(() => open(path, 'a', 0o600));
      const handle = await file;
      while (done < woken) {
        const until = woken;
        const batch = take();
        if (batch !== '') await handle.write(batch);
        done = until;
        tell();
        // A run that is fast writes a few large pieces instead of thousands of small ones.
        if (done < woken && waiters.length === 0) await gathering();
      }
    } catch (error) {
      failure ??= cannotWrite(path, error);
      tell();
    } finally {
      // In the same moment as the last look for more: who comes any later begins again.
      writing = undefined;
    }
  }

  function gathering(): Promise<void> {
    return new Promise((resolve) => {
      const timer = setTimeout(resolve, gather);
      hurry = () => {
        clearTimeout(timer);
        resolve();
      };
    });
  }

  function tell(): void {
    const there = (one: Waiter): boolean => failure !== undefined || one.count <= done;
    for (const one of waiters.filter(there)) one.go();
    waiters = waiters.filter((one) => !there(one));
  }

  const log: LineLog = {
    wake() {
      woken += 1;
      writing ??= write();
    },
    async written() {
      if (done < woken && failure === undefined) {
        await new Promise<void>((go) => {
          waiters.push({ count: woken, go });
          hurry?.();
        });
      }
      if (failure !== undefined) throw failure;
    },
    async close() {
      await log.written().catch(() => undefined);
      await writing;
      if (file) await (await file.catch(() => undefined))?.close();
      if (failure !== undefined) throw failure;
    },
  };
  return log;
}
