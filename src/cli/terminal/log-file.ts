/** `--log FILE`: what a command does, a line of JSON each, added to a file. What is secret is hidden. */
import { appendFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { asProblem, Problem } from '../../core/problem/problem.js';
import type { Workspace } from '../../core/sending/workspace.js';
import type { Terminal } from './terminal.js';

export interface LogFile {
  line(event: string, facts?: Readonly<Record<string, unknown>>): void;
  /** Exchanges, waits and sessions of a workspace. */
  listen(workspace: Workspace): void;
}

const silent: LogFile = { line: () => undefined, listen: () => undefined };

/**
 * @param file undefined where none is wanted, `-` for standard output
 * @param hide what is known to be secret
 * @throws Problem file-unreadable: it cannot be written; usage: standard output has a document already
 */
export function openLogFile(
  file: string | undefined,
  { json, print }: Pick<Terminal, 'json' | 'print'>,
  hide: (text: string) => string,
): LogFile {
  if (file === undefined) return silent;
  const path = resolve(file);
  const add = (event: string, facts: Readonly<Record<string, unknown>> = {}): void => {
    const line = JSON.stringify({ time: new Date().toISOString(), process: process.pid, event, ...facts });
    if (file === '-') print(hide(line));
    else appendFileSync(path, `${hide(line)}\n`, { mode: 0o600 });
  };
  return {
    // A line is whole or not there, also where several processes write: one call each, to the end of the file.
    line(event, facts) {
      if (file === '-' && json)
        throw new Problem('usage', {
          what: '--log - and --json both take standard output',
          remedy: '--log FILE writes the lines to a file',
        });
      try {
        add(event, facts);
      } catch (error) {
        const { what, reason } = asProblem(error, path);
        throw new Problem('file-unreadable', { what, cause: reason, remedy: '--log names a file that can be written' });
      }
    },
    listen({ environment, listeners }) {
      // A disk that is full keeps nothing from being sent.
      const tell = (event: string, facts: Readonly<Record<string, unknown>>): void => {
        try {
          add(event, facts);
        } catch {
          // The first line said that it can be written.
        }
      };
      tell('environment', { environment: environment.name });
      listeners.add({
        exchanged: (facts) => tell('exchange', { ...facts }),
        waiting: ({ host, wait, added, why }) => added > 0 && tell('wait', { host, milliseconds: wait, why }),
        sessionOpened: (session) => tell('session-opened', { session }),
      });
    },
  };
}
