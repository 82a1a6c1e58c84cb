/** Whoever tells of a run: from its records alone, as they come, now or later from disk. */
import type { RunRecord } from '../trail/record/run-record.js';

export interface Reporter {
  take(record: RunRecord): void;
  /** There is no further record. */
  end?(): void;
}

/** Several, each told of everything. */
export const together = (reporters: readonly Reporter[]): Required<Reporter> => ({
  take(record) {
    for (const one of reporters) one.take(record);
  },
  end() {
    for (const one of reporters) one.end?.();
  },
});

/** Tells of runs that are on disk, one after the other. */
export async function reportFrom(records: AsyncIterable<RunRecord>, reporter: Reporter): Promise<void> {
  for await (const record of records) reporter.take(record);
  reporter.end?.();
}
