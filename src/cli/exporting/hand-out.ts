/** What an export made, on standard output or in a file: all of it, or nothing. */
import { resolve } from 'node:path';
import { writeAtomically } from '../../core/storage/atomic-write.js';
import type { Context } from '../context.js';
import { emit } from '../documents/emit.js';
import { requirePlace } from '../options/forms.js';
import { printableLine } from '../view/printable.js';

export interface Made {
  readonly kind: string;
  readonly content: string | Uint8Array;
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
    await writeAtomically(resolve(file), content);
  }
  if (terminal.json) {
    return emit(terminal, 'export', {
      kind,
      file: file ?? null,
      text: file !== undefined || typeof content !== 'string' ? null : content,
      left: [...left],
      environment: [...environment],
    });
  }
  if (file === undefined) terminal.bytes(Buffer.from(content));
  for (const one of left) terminal.note(`${terminal.err.yellow('left out')}  ${printableLine(one)}`);
  if (environment.length > 0) terminal.note(`it reads from the process environment: ${environment.join(', ')}`);
  if (file !== undefined) terminal.note(`wrote ${file}`);
  return 0;
}
