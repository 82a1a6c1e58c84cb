/** What an export made, on standard output or in a file: all of it, or nothing. */
import { resolve } from 'node:path';
import { growFile, writeAtomically } from '../../core/storage/atomic-write.js';
import type { Context } from '../context.js';
import { emit } from '../documents/emit.js';
import { requirePlace } from '../options/forms.js';
import type { Terminal } from '../terminal/terminal.js';
import { printableLine } from '../view/printable.js';

export interface Made {
  readonly kind: string;
  /** Whole, or piece by piece. */
  readonly content: string | Uint8Array | AsyncIterable<string>;
  /** What has no place in it. */
  readonly left: readonly string[];
  /** Variables of the process environment that it reads. */
  readonly environment?: readonly string[];
}

/** @param to a file; undefined or - for standard output @throws Problem usage, file-unreadable */
export async function handOut({ terminal }: Context, made: Made, to: string | undefined): Promise<number> {
  const { kind, content, left, environment = [] } = made;
  const file = to === undefined || to === '-' ? undefined : to;
  if (file !== undefined) {
    requirePlace(file, '--to');
    await written(content, resolve(file));
  }
  if (terminal.json) {
    return emit(terminal, 'export', {
      kind,
      file: file ?? null,
      text: file !== undefined ? null : await textOf(content),
      left: [...left],
      environment: [...environment],
    });
  }
  if (file === undefined) await printed(content, terminal);
  for (const one of left) terminal.note(`${terminal.err.yellow('left out')}  ${printableLine(one)}`);
  if (environment.length > 0) terminal.note(`it reads from the process environment: ${environment.join(', ')}`);
  if (file !== undefined) terminal.note(`wrote ${file}`);
  return 0;
}

const isWhole = (content: Made['content']): content is string | Uint8Array =>
  typeof content === 'string' || content instanceof Uint8Array;

async function written(content: Made['content'], path: string): Promise<void> {
  if (isWhole(content)) return writeAtomically(path, content);
  const file = await growFile(path);
  try {
    for await (const piece of content) await file.write(piece);
  } catch (error) {
    await file.discard();
    throw error;
  }
  await file.commit();
}

async function printed(content: Made['content'], terminal: Terminal): Promise<void> {
  if (isWhole(content)) {
    terminal.bytes(Buffer.from(content));
    return;
  }
  for await (const piece of content) {
    if (terminal.closed) return;
    terminal.bytes(Buffer.from(piece));
  }
}

/** For a document; bytes that are no text have no place in one. */
async function textOf(content: Made['content']): Promise<string | null> {
  if (typeof content === 'string') return content;
  if (content instanceof Uint8Array) return null;
  const pieces: string[] = [];
  for await (const piece of content) pieces.push(piece);
  return pieces.join('');
}
