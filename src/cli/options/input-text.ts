/** The text of a file that a command is given, or of standard input where it is `-`. */
import { readFile, stat } from 'node:fs/promises';
import { basename } from 'node:path';
import { asProblem, Problem } from '../../core/problem/problem.js';
import { sizeText } from '../../core/value/measures.js';

/** Bytes that are read at most. */
const most = 256 * 1024 * 1024;

export interface InputBytes {
  readonly bytes: Buffer;
  /** For messages. */
  readonly name: string;
}

/** @throws Problem file-not-found, file-unreadable, data-shape: it is too large */
export async function inputBytes(path: string): Promise<InputBytes> {
  if (path === '-') return { bytes: await standardInput(), name: 'standard input' };
  const found = await stat(path).catch((error: unknown) => {
    if ((error as NodeJS.ErrnoException).code === 'ENOENT')
      throw new Problem('file-not-found', { what: `${path} does not exist`, remedy: '- reads standard input' });
    throw asProblem(error, path);
  });
  if (!found.isFile()) throw new Problem('file-unreadable', { what: `${path} is not a file` });
  if (found.size > most) throw tooLarge(path, found.size);
  const bytes = await readFile(path).catch((error: unknown) => {
    throw asProblem(error, path);
  });
  return { bytes, name: basename(path) };
}

export async function inputText(path: string): Promise<{ readonly text: string; readonly name: string }> {
  const { bytes, name } = await inputBytes(path);
  return { text: bytes.toString('utf8'), name };
}

async function standardInput(): Promise<Buffer> {
  if (process.stdin.isTTY === true)
    throw new Problem('usage', {
      what: '- reads standard input, and nothing is piped into it',
      remedy: 'give a file, or echo-trail … < FILE',
    });
  const chunks: Buffer[] = [];
  let size = 0;
  for await (const chunk of process.stdin) {
    chunks.push(chunk as Buffer);
    size += (chunk as Buffer).length;
    if (size > most) throw tooLarge('standard input', size);
  }
  return Buffer.concat(chunks);
}

const tooLarge = (name: string, size: number): Problem =>
  new Problem('data-shape', { what: `${name} is ${sizeText(size)}, and at most ${sizeText(most)} are read` });
