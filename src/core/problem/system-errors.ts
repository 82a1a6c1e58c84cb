/** What the system says of a file, in plain words with what to do about it. */

import { action } from './actions.js';

/** By the name of the error (POSIX). */
const words: ReadonlyMap<string, readonly [what: string, remedy: string | (() => string)]> = new Map<
  string,
  readonly [string, string | (() => string)]
>([
  ['ENOSPC', ['there is no space left on the disk', 'make room, and run the command again']],
  ['EDQUOT', ['the quota of the disk is used up', 'make room, and run the command again']],
  ['EFBIG', ['the file is larger than the disk takes', () => action().pruneEchoes()]],
  ['EROFS', ['the disk can only be read', 'work in a copy of the folder that can be written']],
  ['EACCES', ['it is not allowed', 'ls -ld shows whose it is and who may write']],
  ['EPERM', ['it is not allowed', 'ls -ld shows whose it is and who may write']],
  ['EISDIR', ['there is a folder where a file is expected', 'move the folder away']],
  ['ENOTDIR', ['there is a file where a folder is expected', 'move the file away']],
  ['EEXIST', ['something of that name already exists', 'move it away']],
  ['ENOTEMPTY', ['a folder of that name already exists and is not empty', 'move it away']],
  ['ENOENT', ['it is not there', 'was it moved or removed meanwhile?']],
  ['ELOOP', ['its links lead round in a circle', 'remove the link']],
  ['ENAMETOOLONG', ['the name is too long', 'use a shorter one']],
  ['EMFILE', ['too many files are open', () => `ulimit -n 4096 allows more; ${action().fewerAtOnce()}`]],
  ['ENFILE', ['too many files are open on this machine', 'end other programs']],
  ['EIO', ['the disk failed', 'look after the disk']],
]);

export interface SystemWords {
  readonly what: string;
  readonly cause: string;
  readonly remedy: string;
}

const writing = new Set([
  'write',
  'mkdir',
  'rename',
  'rmdir',
  'unlink',
  'copyfile',
  'ftruncate',
  'fsync',
  'utime',
  'chmod',
]);

/** @returns undefined where it is no error of a file */
export function systemWords(error: unknown, path?: string): SystemWords | undefined {
  const { code = '', syscall = '', path: own, dest } = error as NodeJS.ErrnoException & { readonly dest?: string };
  const known = words.get(code);
  if (!known) return undefined;
  const [cause, remedy] = known;
  const where = path ?? dest ?? own ?? 'a file of the collection';
  const doing = writing.has(syscall) ? 'write' : syscall === 'read' ? 'read' : 'open';
  return { what: `cannot ${doing} ${where}`, cause, remedy: typeof remedy === 'string' ? remedy : remedy() };
}
