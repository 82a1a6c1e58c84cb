/** Work that one process at a time may do, by a well-known library: a lock beside a file. */
import { mkdir } from 'node:fs/promises';
import { dirname } from 'node:path';
import { Problem } from '../problem/problem.js';

/** A lock whose holder has not touched it for so long is of a process that is gone. */
const stale = 15_000;
/** Somebody may have to log in by hand first. */
const patience = { retries: 4_000, factor: 1.2, minTimeout: 20, maxTimeout: 250 };

/** @param path of what is worked on; it need not exist @throws Problem file-unreadable: no lock can be made there */
export async function alone<T>(path: string, work: () => Promise<T>): Promise<T> {
  const { default: locks } = await import('proper-lockfile');
  await mkdir(dirname(path), { recursive: true });
  let release: () => Promise<void>;
  try {
    release = await locks.lock(path, { realpath: false, stale, retries: patience });
  } catch (error) {
    throw new Problem(
      'file-unreadable',
      {
        what: `no lock can be had at ${path}.lock`,
        cause: (error as Error).message,
        remedy: 'another process holds it; where none runs, remove the folder',
      },
      { cause: error },
    );
  }
  try {
    return await work();
  } finally {
    await release().catch(() => undefined);
  }
}
