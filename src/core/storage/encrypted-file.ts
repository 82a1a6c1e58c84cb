/**
 * A small JSON file that only this user can read, sealed under a key that is kept outside the collection, mode 0600.
 * The secret store and the open sessions live in such files.
 */
import { writeAtomically } from './atomic-write.js';
import { encryption, unreadable } from './encryption.js';
import { type StoredFile, storedText } from './shared-file.js';

const header = 'echo-trail sealed 1\n';

/**
 * @param path the file; @param home the user's own Echo Trail folder, where the key is kept
 * @throws Problem secret-unreadable when the key does not fit or the file was altered
 */
export function encryptedFile<T>(path: string, home: string, empty: T): StoredFile<T> {
  return {
    path,
    async read() {
      const text = await storedText(path);
      if (text === undefined) return empty;
      try {
        if (!text.startsWith(header)) throw new Error('the first line is not the one that Echo Trail writes');
        return JSON.parse((await encryption(home)).decrypt(text.slice(header.length))) as T;
      } catch (error) {
        throw unreadable(path, error);
      }
    },
    async write(content) {
      await writeAtomically(path, `${header}${(await encryption(home)).encrypt(JSON.stringify(content))}\n`, {
        mode: 0o600,
      });
    },
  };
}
