/** Printing the machine-readable document of a command. The schemas themselves are not loaded for that. */

import type { Terminal } from '../terminal/terminal.js';
import type { Documents } from './documents.js';

/** Grows where a member of a document goes, or means something else; others may be added. */
export const documentVersion = 1;

/** On one line of standard output. The status is 0; a command that failed returns its own. */
export function emit<K extends keyof Documents>(terminal: Terminal, _command: K, document: Documents[K]): number {
  terminal.document(document);
  return 0;
}
