/**
 * A small JSON file that only this user can read: AES-256-GCM under a key that is kept outside the
 * collection, mode 0600. The secret store and the open sessions live in such files.
 */
import { createCipheriv, createDecipheriv, randomBytes } from 'node:crypto';
import { chmod, mkdir, readFile, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { Problem } from '../problem/problem.js';
import { writeAtomically } from './atomic-write.js';

const header = 'echo-trail sealed 1\n';

export interface SealedFile<T> {
  /** What is stored, or `empty` where the file does not exist yet. */
  read(): Promise<T>;
  write(content: T): Promise<void>;
}

/**
 * @param path the file; @param home the user's own Echo Trail folder, where the key is kept
 * @throws Problem secret-unreadable when the key does not fit or the file was altered
 */
export function sealedFile<T>(path: string, home: string, empty: T): SealedFile<T> {
  return {
    async read() {
      let text: string;
      try {
        text = await readFile(path, 'utf8');
      } catch (error) {
        if ((error as NodeJS.ErrnoException).code === 'ENOENT') return empty;
        throw unreadable(path, error);
      }
      try {
        if (!text.startsWith(header)) throw new Error('the first line is not the one that Echo Trail writes');
        const bytes = Buffer.from(text.slice(header.length), 'base64');
        const opener = createDecipheriv('aes-256-gcm', await key(home), bytes.subarray(0, 12));
        opener.setAuthTag(bytes.subarray(12, 28));
        const opened = Buffer.concat([opener.update(bytes.subarray(28)), opener.final()]);
        return JSON.parse(opened.toString('utf8')) as T;
      } catch (error) {
        throw unreadable(path, error);
      }
    },
    async write(content) {
      const nonce = randomBytes(12);
      const sealer = createCipheriv('aes-256-gcm', await key(home), nonce);
      const body = Buffer.concat([sealer.update(JSON.stringify(content), 'utf8'), sealer.final()]);
      const sealed = Buffer.concat([nonce, sealer.getAuthTag(), body]).toString('base64');
      await writeAtomically(path, `${header}${sealed}\n`, { mode: 0o600 });
    },
  };
}

/** The user's key, made on first use. */
async function key(home: string): Promise<Buffer> {
  const path = join(home, 'key');
  const found = await readKey(path);
  if (found) return found;
  await mkdir(home, { recursive: true, mode: 0o700 });
  try {
    await writeFile(path, `${randomBytes(32).toString('hex')}\n`, { mode: 0o600, flag: 'wx' });
  } catch (error) {
    // Another process was first: its key is the key.
    if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw unreadable(path, error);
  }
  await chmod(path, 0o600);
  const made = await readKey(path);
  if (!made) throw unreadable(path, new Error('the key file does not hold 64 hexadecimal digits'));
  return made;
}

async function readKey(path: string): Promise<Buffer | undefined> {
  try {
    const text = (await readFile(path, 'utf8')).trim();
    return /^[0-9a-f]{64}$/.test(text) ? Buffer.from(text, 'hex') : undefined;
  } catch {
    return undefined;
  }
}

function unreadable(path: string, error: unknown): Problem {
  return new Problem(
    'secret-unreadable',
    {
      what: `cannot open ${path}`,
      cause: error instanceof Error ? error.message : String(error),
      remedy: 'if the key in your Echo Trail folder was replaced, remove the file and set the secrets again',
    },
    { cause: error },
  );
}
