/** Printing the machine-readable document of a command. The schemas themselves are not loaded for that. */

import type { Terminal } from '../terminal/terminal.js';
import type { Documents } from './documents.js';

/** On one line of standard output. The status is 0; a command that failed returns its own. */
export function emit<K extends keyof Documents>(terminal: Terminal, _command: K, document: Documents[K]): number {
  terminal.document(document);
  return 0;
}
