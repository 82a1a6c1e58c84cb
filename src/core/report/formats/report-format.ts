/** A form in which the report of runs is handed on. */
import type { RunRecord } from '../../trail/record/run-record.js';

/** All records, from the first; they may be asked for again. */
export type Records = () => AsyncIterable<RunRecord>;

export interface ReportFormat {
  readonly name: string;
  readonly about: string;
  /** Of files that are written in it. */
  readonly endings: readonly string[];
  /** Its text in pieces: a run may have millions of steps. */
  write(records: Records): AsyncIterable<string>;
}
