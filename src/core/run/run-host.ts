/** The host of a run: what the process, the person and the outputs around it provide. */
import type { Collection } from '../collection/collection.js';
import type { Settings } from '../collection/variables/variable-scopes.js';
import type { Redactor } from '../echo/redactor.js';
import type { Workspace } from '../sending/workspace.js';
import type { RunRecord } from '../trail/record/run-record.js';
import type { PartOfRows } from '../trail/rows/row-part.js';
import type { Worker } from './open-run.js';

/** Which environment to open, and what an earlier run already knows. */
export interface Opening {
  readonly environment?: string | undefined;
  readonly settings?: Settings | undefined;
  readonly redactor?: Redactor | undefined;
  readonly collection?: Collection | undefined;
  readonly shares?: number | undefined;
}

export interface OpenedRun {
  readonly workspace: Workspace;
  /** Settles when the accepted baselines are written. */
  readonly written: () => Promise<void>;
}

export interface RunHost {
  /** The user's own folder, with the key of what is sealed. */
  readonly home: string;
  readonly worker: Worker;
  open(opening: Opening): Promise<OpenedRun>;
  readonly report: (record: RunRecord) => void;
  /** Report the approximate number of rows. */
  readonly countRows?: boolean | undefined;
  /** Ends the run; undo parts run after it. */
  readonly signal: AbortSignal;
  /** Ends the undo parts too. */
  readonly undoSignal?: AbortSignal | undefined;
  /** Nobody reads the output any more: an endless run ends. */
  readonly unwatched?: (() => boolean) | undefined;
  /** Asks a person whether to resume although the rows have changed. */
  readonly confirmRows?: ((what: string, changes: string) => Promise<boolean>) | undefined;
}

/** The options of a run. */
export interface RunWishes {
  readonly rows?: string | undefined;
  readonly atOnce?: number | undefined;
  readonly dryRun?: boolean | undefined;
  readonly stopAtFirstFailure?: boolean | undefined;
  /** How many times, once by default; `Infinity` repeats until interrupted. */
  readonly repeat?: number | undefined;
  /** Milliseconds between the starts of two repetitions. */
  readonly every?: number | undefined;
  /** Stop at the first repetition with this outcome. */
  readonly until?: 'ok' | 'failed' | undefined;
  /** Of the rows, one part; what a host allows is divided by the number of parts. */
  readonly part?: PartOfRows | undefined;
  /** Forget what `once-by` remembers of earlier runs. */
  readonly anew?: boolean | undefined;
}
