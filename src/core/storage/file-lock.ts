/**
 * Work that one process at a time may do: a lock beside a file, by a well-known library. The lock says who holds it, so that
 * one whose process is gone is free at once, and whoever waits can be told for whom.
 */
import fs from 'node:fs';
import { mkdir, readFile, rm, rmdir, stat, utimes, writeFile } from 'node:fs/promises';
import { hostname } from 'node:os';
import { dirname, join } from 'node:path';
import { setTimeout } from 'node:timers/promises';
import * as z from 'zod/mini';
import { asProblem, interruption, Problem } from '../problem/problem.js';
import { lockWatcher } from './lock-watcher.js';
import { processes } from './processes.js';

/**
 * A lock whose holder cannot be looked at, since it is of another machine or has not said who it is, is free when it was not
 * touched for so long. Milliseconds. Time says nothing of a process of this machine: the machine may have slept.
 */
const stale = 60_000;
/** So often a holder touches its lock. Milliseconds. */
const touching = 20_000;
/** One that was taken just now may be about to change hands. Milliseconds. */
const settled = 1_000;
/** Whoever frees a lock takes no longer. Milliseconds. */
const guardEnds = 5_000;
/** Somebody may have to log in by hand first. Milliseconds. */
const patience = 1_000_000;
const [firstPause, longestPause] = [10, 250];
/** After so long whoever waits is told. */
const silence = 1_000;

const holderFile = z.strictObject({ process: z.number(), machine: z.string() });
type Holder = z.infer<typeof holderFile>;

/**
 * @param path of what is worked on; it need not exist
 * @throws Problem file-unreadable: no lock can be made there; interrupted: whoever waited gave up
 */
export async function withFileLock<T>(path: string, work: () => Promise<T>): Promise<T> {
  const release = await taken(path);
  try {
    return await work();
  } finally {
    await release().catch(() => undefined);
  }
}

async function taken(path: string): Promise<() => Promise<void>> {
  const { default: locks } = await import('proper-lockfile');
  const folder = `${path}.lock`;
  const began = performance.now();
  let told = false;
  await mkdir(dirname(path), { recursive: true }).catch((error: unknown) => Promise.reject(asProblem(error)));
  for (let pause = firstPause; ; pause = Math.min(pause * 1.5, longestPause)) {
    try {
      // What says who holds it goes with it; a lock that another has by now stays.
      const own = {
        ...fs,
        rmdir: (at: string, done: fs.NoParamCallback) => {
          holderOf(at).then((holder) => {
            if (holder && !isOwn(holder)) done(null);
            else fs.rm(at, { recursive: true, force: true }, done);
          }, done);
        },
      };
      const release = await locks.lock(path, {
        realpath: false,
        // The library would take it away by its time alone.
        stale: Number.POSITIVE_INFINITY,
        update: touching,
        fs: own,
        // After a long sleep of the machine another may have it: what is written is still written as a whole.
        onCompromised: () => undefined,
      });
      await signed(folder).catch(() => undefined);
      return release;
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'ELOCKED') throw asProblem(error);
    }
    const holder = await holderOf(folder);
    const gone = holder && ownMachine(holder) ? isGone(holder) : await isOlder(folder, stale);
    if (gone) await freed(folder, holder).catch(() => undefined);
    const waited = performance.now() - began;
    if (waited > patience) throw stillHeld(path, holder);
    if (!told && !gone && waited > silence) {
      told = true;
      lockWatcher()?.onWait(path, holder?.process);
    }
    await setTimeout(pause, undefined, { signal: lockWatcher()?.signal }).catch(() => {
      throw interruption();
    });
  }
}

/** The library looks whether the time of the folder is still the one it set: a file in it may not change that. */
async function signed(folder: string): Promise<void> {
  const { atime, mtime } = await stat(folder);
  const holder: Holder = { process: processes().own, machine: hostname() };
  await writeFile(join(folder, 'holder'), JSON.stringify(holder));
  await utimes(folder, atime, mtime);
}

async function holderOf(folder: string): Promise<Holder | undefined> {
  try {
    return holderFile.parse(JSON.parse(await readFile(join(folder, 'holder'), 'utf8')));
  } catch {
    return undefined;
  }
}

/** Only of a process of this machine it can be known. */
const ownMachine = ({ process, machine }: Holder): boolean => process !== 0 && machine === hostname();

const isGone = ({ process }: Holder): boolean => processes().isGone(process);

const isOwn = (holder: Holder): boolean => holder.machine === hostname() && holder.process === processes().own;

/** Takes away the lock of a process that is gone: by one at a time, and only what is still its lock then. */
async function freed(folder: string, gone: Holder | undefined): Promise<void> {
  const guard = `${folder}.free`;
  try {
    await mkdir(guard);
  } catch {
    // Whoever is at it is done at once, or was killed.
    if (await isOlder(guard, guardEnds)) await rmdir(guard).catch(() => undefined);
    return;
  }
  try {
    const held = await holderOf(folder);
    const same = held?.process === gone?.process && held?.machine === gone?.machine;
    const untouched = await isOlder(folder, gone && ownMachine(gone) ? settled : stale);
    if (same && untouched) await rm(folder, { recursive: true, force: true });
  } finally {
    await rmdir(guard).catch(() => undefined);
  }
}

const isOlder = (path: string, ms: number): Promise<boolean> =>
  stat(path).then(
    ({ mtimeMs }) => Date.now() - mtimeMs > ms,
    () => false,
  );

const stillHeld = (path: string, holder: Holder | undefined): Problem =>
  new Problem('file-unreadable', {
    what: `cannot lock ${path}.lock`,
    cause: holder ? `process ${holder.process} on ${holder.machine} holds it` : 'another process holds it',
    remedy: 'where no such process runs, remove the folder',
  });
