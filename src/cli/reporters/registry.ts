/** All that tells of runs. A new one is one file and one line here. */
import { type Reporter, together } from '../../core/report/reporter.js';
import type { Terminal } from '../terminal/terminal.js';
import { json } from './json.js';
import { live } from './live.js';
import { matrix } from './matrix.js';
import { text } from './text.js';

export interface Wanted {
  /** Rows by checks, at the end. */
  readonly matrix: boolean;
  /** It happens now, and somebody watches. */
  readonly watched: boolean;
}

type Kind = (terminal: Terminal, wanted: Wanted) => Reporter | undefined;

const kinds: readonly Kind[] = [
  // The lines that are rewritten are cleared before another is printed.
  (terminal, { watched }) => (watched && terminal.live && !terminal.json ? live(terminal) : undefined),
  (terminal, wanted) => (terminal.json ? json(terminal) : text(terminal, wanted.matrix)),
  (terminal, wanted) => (wanted.matrix ? matrix(terminal) : undefined),
];

export const reporters = (terminal: Terminal, wanted: Wanted): Required<Reporter> =>
  together(kinds.flatMap((kind) => kind(terminal, wanted) ?? []));
