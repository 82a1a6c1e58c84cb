/** `run --accept`: what is found takes the place of what was expected, once the difference was shown. */

import type { Accepted } from '../../core/matcher/matcher.js';
import { shortText } from '../../core/matcher/reading.js';
import { writeAtomically } from '../../core/storage/atomic-write.js';
import { placeInside } from '../../core/storage/inside.js';
import type { Terminal } from '../terminal/terminal.js';
import { printableLine } from '../view/printable.js';

export interface Accepting {
  readonly accept: (accepted: Accepted) => void;
  /** Settles when all is written. @throws Problem file-unreadable, file-outside */
  written(): Promise<void>;
}

const shown = 20;

export function accepting(root: string, terminal: Terminal, hide: () => (text: string) => string): Accepting {
  const files = new Map<string, string>();
  return {
    accept({ file, text, differences, made }) {
      const { err } = terminal;
      files.set(file, hide()(text));
      terminal.note(`${err.yellow('accept')}  ${file}${made ? err.dim(' (there was none)') : ''}`);
      for (const { at, left, right } of differences.slice(0, shown)) {
        const sides = [left, right].map((value) => printableLine(hide()(shortText(value))));
        terminal.note(`        ${err.cyan(printableLine(at))}   ${sides.join(err.dim(' becomes '))}`);
      }
      if (differences.length > shown) terminal.note(`        and ${differences.length - shown} more`);
    },
    async written() {
      for (const [file, text] of files) await writeAtomically(placeInside(root, file), text);
    },
  };
}
