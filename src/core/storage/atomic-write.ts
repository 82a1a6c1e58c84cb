/** Writing a file so that a reader, or a crash, never sees half of it. */
import { writeFileSync } from 'node:fs';
import { link, mkdir, open, readdir, rename, rm, writeFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { Problem } from '../problem/problem.js';
import { systemWords } from '../problem/system-errors.js';
import { processes } from './processes.js';

/** Writes beside the target, flushes, then renames over it. Makes the folder where it is missing. */
export async function writeAtomically(
  path: string,
  content: string | Uint8Array,
  { mode = 0o644 }: { mode?: number } = {},
): Promise<void> {
  await (await stageFile(path, content, { mode })).commit();
}

/** Whole at once, and only where there is none. @returns false where there is one already */
export async function writeOnce(path: string, content: string, mode: number): Promise<boolean> {
  const beside = besideOf(path);
  try {
    await writeFile(beside, content, { mode, flag: 'wx' });
    await link(beside, path);
    return true;
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code === 'EEXIST') return false;
    throw cannotWrite(path, error);
  } finally {
    await rm(beside, { force: true });
  }
}

/** A file that is written beside its target and not yet in its place. */
export interface StagedFile {
  /** Where it is until then. */
  readonly path: string;
  readonly bytes: Uint8Array;
  /** Puts it in its place when it is on the disk. */
  commit(): Promise<void>;
  /** Lets it go. */
  discard(): Promise<void>;
}

/** A file that grows beside its target, piece by piece. */
export interface GrowingFile extends Omit<StagedFile, 'path' | 'bytes'> {
  write(text: string): Promise<void>;
}

/** A name that nobody else chooses, with the process that did; no secret, and so not worth loading what makes those. */
export const besideOf = (path: string): string =>
  `${path}.${processes().own}-${Math.random().toString(36).slice(2, 10)}.part`;

/** Takes away what processes have left that were killed. */
async function sweep(folder: string): Promise<void> {
  for (const name of await readdir(folder)) {
    const [, process] = /\.(\d+)-[a-z0-9]+\.part$/.exec(name) ?? [];
    if (process === undefined || process === '0' || !processes().isGone(Number(process))) continue;
    await rm(join(folder, name), { force: true, recursive: true });
  }
}

/** @throws Problem file-unreadable */
export async function growFile(path: string): Promise<GrowingFile> {
  const beside = besideOf(path);
  const discard = (): Promise<void> => rm(beside, { force: true }).catch(() => undefined);
  const failed = async (error: unknown): Promise<never> => {
    await discard();
    throw cannotWrite(path, error);
  };
  const file = await mkdir(dirname(path), { recursive: true })
    .then(() => sweep(dirname(path)))
    .then(() => open(beside, 'wx'))
    .catch(failed);
  let writing: Promise<unknown> = Promise.resolve();
  return {
    async write(text) {
      writing = writing.then(() => file.write(text));
      await writing.catch(failed);
    },
    async commit() {
      try {
        await writing;
        await file.sync();
        await file.close();
        await rename(beside, path);
      } catch (error) {
        await failed(error);
      }
    },
    async discard() {
      await writing.catch(() => undefined);
      await file.close();
      await discard();
    },
  };
}

/** Writes beside the target. A large file is flushed while the caller resumes other work. */
export async function stageFile(
  path: string,
  content: string | Uint8Array,
  { mode = 0o644 }: { mode?: number } = {},
): Promise<StagedFile> {
  const beside = besideOf(path);
  const bytes = typeof content === 'string' ? Buffer.from(content) : content;
  const discard = (): Promise<void> => rm(beside, { force: true }).catch(() => undefined);
  const failed = async (error: unknown): Promise<Problem> => {
    await discard();
    return cannotWrite(path, error);
  };
  try {
    await mkdir(dirname(path), { recursive: true });
    const file = await open(beside, 'wx', mode);
    try {
      writeFileSync(file.fd, bytes);
    } catch (error) {
      await file.close();
      throw error;
    }
    // What goes wrong is told by commit.
    const flushed = file
      .sync()
      .finally(() => file.close())
      .then(
        () => undefined,
        (error: unknown) => ({ error }),
      );
    return {
      path: beside,
      bytes,
      async commit() {
        const problem = await flushed;
        if (problem) throw await failed(problem.error);
        await rename(beside, path).catch(async (error: unknown) => Promise.reject(await failed(error)));
      },
      async discard() {
        await flushed;
        await discard();
      },
    };
  } catch (error) {
    throw await failed(error);
  }
}

/** Turns of the event loop in which a file that the disk has taken is closed and renamed. */
const turns = 3;

/**
 * Begins to put files in their place, which would else wait until this thread has time again: to let go of a large old
 * file takes as long as to write the new one.
 * @returns settles when all are there, and throws what went wrong
 */
export async function beginCommits(files: Iterable<StagedFile>): Promise<() => Promise<void>> {
  const all = Promise.allSettled([...files].map((file) => file.commit()));
  for (let turn = 0; turn < turns; turn += 1) await new Promise((resolve) => setImmediate(resolve));
  return async () => {
    const failed = (await all).find((one) => one.status === 'rejected');
    if (failed) throw failed.reason;
  };
}

export function cannotWrite(path: string, error: unknown): Problem {
  if (error instanceof Problem) return error;
  const cause = error instanceof Error ? error.message : String(error);
  const parts = systemWords(error, path) ?? { cause };
  return new Problem('file-unreadable', { ...parts, what: `cannot write ${path}` }, { cause: error });
}
