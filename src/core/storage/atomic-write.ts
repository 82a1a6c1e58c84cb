/** Writing a file so that a reader, or a crash, never sees half of it. */
import { randomBytes } from 'node:crypto';
import { mkdir, open, rename, rm } from 'node:fs/promises';
import { dirname } from 'node:path';
import { Problem } from '../problem/problem.js';

/** Writes beside the target, flushes, then renames over it. Makes the folder where it is missing. */
export async function writeAtomically(
  path: string,
  content: string | Uint8Array,
  { mode = 0o644 }: { mode?: number } = {},
): Promise<void> {
  const beside = `${path}.${randomBytes(4).toString('hex')}.part`;
  try {
    await mkdir(dirname(path), { recursive: true });
    const file = await open(beside, 'wx', mode);
    try {
      await file.writeFile(content);
      await file.sync();
    } finally {
      await file.close();
    }
    await rename(beside, path);
  } catch (error) {
    await rm(beside, { force: true }).catch(() => undefined);
    throw cannotWrite(path, error);
  }
}

function cannotWrite(path: string, error: unknown): Problem {
  const cause = error instanceof Error ? error.message : String(error);
  return new Problem('file-unreadable', { what: `cannot write ${path}`, cause }, { cause: error });
}
