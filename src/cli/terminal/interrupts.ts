/** What ends the program from outside, and how it ends then. */
import { setMaxListeners } from 'node:events';
import { interruptedStatus } from '../exit-status.js';
import type { Terminal } from './terminal.js';

/** Ctrl-C, what ends a process politely, a terminal that is closed, Ctrl-\\. */
const ending = ['SIGINT', 'SIGTERM', 'SIGHUP', 'SIGQUIT'] as const;

/** Said at the first. */
export const interruptedNote = 'interrupted: cleaning up (once more to stop that too)';

/** The first Ctrl-C ends the work and lets it clean up; the second ends the cleaning up; the third ends the program. */
export function interrupts(terminal: Terminal): {
  signals: { signal: AbortSignal; secondSignal: AbortSignal };
  release: () => void;
} {
  const [first, second] = [new AbortController(), new AbortController()];
  // All that is at work at once listens.
  setMaxListeners(0, first.signal, second.signal);
  const onSignal = (): void => {
    if (!first.signal.aborted) {
      terminal.complain(interruptedNote);
      first.abort();
    } else if (!second.signal.aborted) second.abort();
    else process.exit(interruptedStatus);
  };
  for (const name of ending) process.on(name, onSignal);
  return {
    signals: { signal: first.signal, secondSignal: second.signal },
    release: () => {
      for (const name of ending) process.off(name, onSignal);
    },
  };
}
