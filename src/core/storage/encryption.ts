/**
 * AES-256-GCM under the user's own key, which is kept outside every collection, mode 0600: a fresh nonce for each text,
 * and whoever changes a byte of it makes it unreadable (NIST SP 800-38D).
 */
import { createCipheriv, createDecipheriv, randomBytes } from 'node:crypto';
import { chmod, mkdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { Problem } from '../problem/problem.js';
import { systemWords } from '../problem/system-errors.js';
import { writeOnce } from './atomic-write.js';

export interface Encryption {
  /** In base64. */
  encrypt(text: string): string;
  /** @throws Error where the key does not fit, or the text was altered */
  decrypt(sealed: string): string;
}

/** @param home the user's own Echo Trail folder @throws Problem secret-unreadable */
export async function encryption(home: string): Promise<Encryption> {
  const own = await key(home);
  return {
    encrypt(text) {
      const nonce = randomBytes(12);
      const sealer = createCipheriv('aes-256-gcm', own, nonce);
      const body = Buffer.concat([sealer.update(text, 'utf8'), sealer.final()]);
      return Buffer.concat([nonce, sealer.getAuthTag(), body]).toString('base64');
    },
    decrypt(sealed) {
      const bytes = Buffer.from(sealed, 'base64');
      const opener = createDecipheriv('aes-256-gcm', own, bytes.subarray(0, 12));
      opener.setAuthTag(bytes.subarray(12, 28));
      return Buffer.concat([opener.update(bytes.subarray(28)), opener.final()]).toString('utf8');
    },
  };
}

/** The user's key, made on first use. */
async function key(home: string): Promise<Buffer> {
  const path = join(home, 'key');
  const found = await readKey(path);
  if (found) return found;
  await mkdir(home, { recursive: true, mode: 0o700 });
  // Where another process was first, its key is the key.
  await writeOnce(path, `${randomBytes(32).toString('hex')}\n`, 0o600);
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

/** AES-GCM says no more than that its tag does not fit. */
const explained = (error: unknown): string => {
  const said = error instanceof Error ? error.message : String(error);
  return /authenticate data/.test(said) ? 'it was sealed with another key, or has been changed since' : said;
};

export function unreadable(
  path: string,
  error: unknown,
  remedy = 'if the key in your Echo Trail folder was replaced, remove the file and set the secrets again',
): Problem {
  if (error instanceof Problem) return error;
  const system = systemWords(error, path);
  if (system) return new Problem('file-unreadable', system, { cause: error });
  return new Problem(
    'secret-unreadable',
    {
      what: `cannot open ${path}`,
      cause: explained(error),
      remedy,
    },
    { cause: error },
  );
}
