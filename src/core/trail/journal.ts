/** What a walk writes down as it goes, and what it knows of the commands before it. */
import type { Problem } from '../problem/problem.js';
import type { Value, ValueMap } from '../value/written.js';
import type { UndoState } from './events.js';
import type { KeptName } from './names/kept-names.js';
import type { RunRecord } from './record/run-record.js';
import type { SeenItem, SeenItems } from './seen-items.js';

export interface KnownStep {
  /** `under way`: a changing call left, or was about to, and nothing is known of its response. */
  readonly state: 'done' | 'failed' | 'under way';
  readonly kept: readonly KeptName[];
  /** What its response left in the columns of a table. */
  readonly cells: readonly KeptName[];
  readonly problem: Problem | undefined;
  /** Of one that is under way: its method and address, and its idempotency key. */
  readonly call: string;
  readonly key: string | undefined;
}

/** Its method and address, and its idempotency key. */
export interface LeftCall {
  readonly call: string;
  readonly key: string | undefined;
}

/** What an undo part needs when it is run by a later command. */
export interface Armed {
  readonly at: string;
  readonly step: string;
  readonly request: string;
  readonly row: number | undefined;
  readonly given: readonly KeptName[];
  readonly names: readonly KeptName[];
}

export interface Journal {
  /** What it is resumed by. */
  readonly run: string;
  /** Settles when it is on disk that this command is at it. */
  begun(): Promise<void>;
  /** What a step did before this command went on. */
  known(at: string): KnownStep | undefined;
  cellsBefore(at: string): Value | undefined;
  undoneBefore(at: string): boolean;
  armedBefore(at: string): boolean;
  /** A call that takes something back: it left, and nothing is known of its response. */
  undoingBefore(at: string): LeftCall | undefined;
  /** Numbers of rows by their digests. */
  digestsBefore(walk: number): ReadonlyMap<string, number>;
  /** Of a row that came to its end before: whether well. */
  rowBefore(walk: number, row: number): boolean | undefined;
  walkBefore(walk: number): boolean | undefined;
  /** Settles when it is on disk: only then may the call leave. */
  leaving(at: string, row: number | undefined, call: string, key: string | undefined): Promise<void>;
  /** @param kept as it is now: what is kept later under the same name is another step's @param cells what its response leaves in a table */
  step(
    at: string,
    kept: readonly KeptName[],
    cells: ValueMap | undefined,
    echo: string | undefined,
    problem: Problem | undefined,
  ): void;
  cells(at: string, cells: Value): void;
  rowBegun(walk: number, row: number, digest: string): void;
  row(walk: number, row: number, digest: string, label: string, problem: Problem | undefined): void;
  armed(armed: Armed): void;
  /** Settles when it is on disk: only then may the call leave. */
  undoing(at: string, call: string, key: string | undefined): Promise<void>;
  undone(at: string, state: UndoState, problem: Problem | undefined): void;
  /** What is told of the walk. */
  record(record: RunRecord): void;
  doubtsBefore(walk: number): readonly string[];
  /** @param way to the step that goes through them */
  seen(way: string, key: string, item: SeenItem): void;
  seenBefore(): SeenItems;
  /** Settles when it is on disk, and all of the walk with it. */
  walked(walk: number, ok: boolean): Promise<void>;
  close(): Promise<void>;
}
