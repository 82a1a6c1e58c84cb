/** The question whether a secret may go new ways: asked in the middle of working out a value, so everything waits for it. */
import { closeSync, openSync, readSync, writeSync } from 'node:fs';
import { printableLine } from '../view/printable.js';

/** @returns false, too, where there is no terminal to ask at */
export function askAllowSecret(name: string, environment: string, added: readonly string[]): boolean {
  let terminal: number;
  try {
    terminal = openSync('/dev/tty', 'r+');
  } catch {
    return false;
  }
  try {
    writeSync(
      terminal,
      printableLine(
        `the environment ${environment} now ${added.join(', and ')}, which is new since the secret ${name} was set. Use it? (y/N) `,
      ),
    );
    const bytes = Buffer.alloc(64);
    const read = readSync(terminal, bytes, 0, bytes.length, null);
    return /^y(?:es)?\s*$/i.test(bytes.toString('utf8', 0, read));
  } catch {
    return false;
  } finally {
    closeSync(terminal);
  }
}
