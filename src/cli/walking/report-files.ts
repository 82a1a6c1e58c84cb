/** Reports of runs written to files or to standard output, from what is on disk. */
import { resolve } from 'node:path';
import type { Records, ReportFormat } from '../../core/report/formats/report-format.js';
import type { Reporter } from '../../core/report/reporter.js';
import { recordsOf } from '../../core/run/journal/recorded-run.js';
import { growFile } from '../../core/storage/atomic-write.js';
import type { Terminal } from '../terminal/terminal.js';

/** The records of several runs, one after the other. */
export const recordsOfAll = (local: string, home: string, runs: readonly string[]): Records =>
  async function* records() {
    for (const run of runs) yield* recordsOf(local, run, home);
  };

/** The names of the runs that a command makes. */
export function namesOfRuns(): Reporter & { readonly names: readonly string[] } {
  const names: string[] = [];
  return {
    names,
    take(record) {
      if (record.event === 'run' && !names.includes(record.run)) names.push(record.run);
    },
  };
}

/** @param to a file; undefined for standard output */
export async function writeReport(
  format: ReportFormat,
  records: Records,
  to: string | undefined,
  terminal: Terminal,
): Promise<void> {
  if (to === undefined || to === '-') {
    for await (const piece of format.write(records)) {
      if (terminal.closed) return;
      terminal.bytes(Buffer.from(piece));
    }
    return;
  }
  const file = await growFile(resolve(to));
  try {
    for await (const piece of format.write(records)) await file.write(piece);
  } catch (error) {
    await file.discard();
    throw error;
  }
  await file.commit();
}
