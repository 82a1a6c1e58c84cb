/** This process and its terminal as what runs a run. */

import type { Reporter } from '../../core/report/reporter.js';
import type { Worker } from '../../core/run/open-run.js';
import type { RunHost } from '../../core/run/run-host.js';
import type { Workspace } from '../../core/sending/workspace.js';
import type { Context } from '../context.js';
import { reporters } from '../reporters/registry.js';
import { isGone, processStart } from '../terminal/processes.js';
import { accepting } from './accepting.js';
import type { RunOptions } from './options.js';

const worker: Worker = {
  process: process.pid,
  alive({ process: pid, since }) {
    if (pid === process.pid) return false;
    if (isGone(pid)) return false;
    // One that began later has only got its number. Clocks are set by a little now and then.
    const began = processStart(pid);
    return began === undefined || began <= since + 10_000;
  },
};

export interface Host extends RunHost {
  /** Told last of all. */
  readonly reporter: Required<Reporter>;
}

/** @param several it runs in several environments, which a matrix shows side by side */
export function runHost(context: Context, options: RunOptions, several = false): Host {
  const { terminal, home, signal, secondSignal } = context;
  const reporter = reporters(terminal, { matrix: options.matrix || several, watched: true });
  return {
    home,
    worker,
    signal,
    undoSignal: secondSignal,
    reporter,
    report: reporter.take,
    countRows: terminal.live || terminal.json,
    unwatched: () => terminal.closed,
    async open(opening) {
      const collection = opening.collection ?? (await context.collection());
      let workspace: Workspace | undefined;
      const baselines = accepting(collection.root, terminal, () => workspace?.redactor.hide ?? ((text) => text));
      workspace = await context.workspace({
        ...opening,
        collection,
        allowChanges: options.allowChanges,
        dryRun: options.dryRun,
        accept: options.accept ? baselines.accept : undefined,
        standardInput: () => process.stdin,
        choose: terminal.interactive
          ? (question, labels) =>
              terminal.asking(async () => (await import('../ask/choice.js')).askLabel(question, labels))
          : undefined,
      });
      return { workspace, written: baselines.written };
    },
    confirmRows: terminal.interactive
      ? async (what, changes) => {
          terminal.note(`${what}\n${changes}`);
          const { confirmed } = await import('../ask/confirmed.js');
          return terminal.asking(() => confirmed('Resume with the rows as they are now?'));
        }
      : undefined,
  };
}
