/** `--watch`: a command again and again, whenever a file of the collection changes. */
import { relative, sep } from 'node:path';
import { watchFolder } from '../../core/storage/watch-folder.js';
import type { Context } from '../context.js';

export interface Turn {
  /** Files that have changed, below the collection; undefined the first time. */
  readonly changed: ReadonlySet<string> | undefined;
  /** The command itself wrote this file: it is no change. */
  readonly wrote: (file: string) => void;
}

/**
 * @param once does the work with a context of its own, and may fail as often as it likes
 * @returns the status of the last time
 */
export async function watching(context: Context, once: (own: Context, turn: Turn) => Promise<number>): Promise<number> {
  const { terminal, signal } = context;
  const { root } = await context.collection();
  const watch = watchFolder(root);
  const written = new Set<string>();
  const wrote = (file: string): void => {
    written.add(relative(root, file).split(sep).join('/'));
  };
  let status = 0;
  try {
    let changed: ReadonlySet<string> | undefined;
    do {
      if (changed) {
        terminal.clearScreen();
        terminal.note(
          terminal.err.dim(
            `changed: ${[...changed].slice(0, 3).join(', ')}${changed.size > 3 ? ` and ${changed.size - 3} more` : ''}`,
          ),
        );
      }
      const now = changed;
      status = await context.anew((own) => once(own, { changed: now, wrote }));
      if (signal.aborted) return status;
      terminal.note(terminal.err.dim('waiting for a change; Ctrl-C ends'));
      changed = await watch.next(signal, written);
    } while (changed);
    return status;
  } finally {
    watch.close();
  }
}
