/** Who runs something: what a run is given of the process, the person and the outlets around it. */
import type { Collection } from '../collection/collection.js';
import type { Settings } from '../collection/variables/variable-scopes.js';
import type { Redactor } from '../echo/redactor.js';
import type { Workspace } from '../sending/workspace.js';
import type { RunRecord } from '../trail/record/run-record.js';
import type { Worker } from './open-run.js';

/** In which environment, and what an earlier run knows already. */
export interface Opening {
  readonly environment?: string | undefined;
  readonly settings?: Settings | undefined;
  readonly redactor?: Redactor | undefined;
  readonly collection?: Collection | undefined;
}

export interface OpenedRun {
  readonly workspace: Workspace;
  /** Settles when the baselines that were accepted are written. */
  readonly written: () => Promise<void>;
}

export interface RunHost {
  /** The user's own folder, with the key of what is sealed. */
  readonly home: string;
  readonly worker: Worker;
  open(opening: Opening): Promise<OpenedRun>;
  readonly report: (record: RunRecord) => void;
  /** Who follows wants to know about how many rows there are. */
  readonly countRows?: boolean | undefined;
  /** Ends the run; undo parts run after it. */
  readonly signal: AbortSignal;
  /** Ends the undo parts too. */
  readonly undoSignal?: AbortSignal | undefined;
  /** Nobody follows any more: a run without an end of its own ends. */
  readonly unwatched?: (() => boolean) | undefined;
  /** Asks a person whether a run is resumed although its rows changed. */
  readonly confirmRows?: ((what: string, changes: string) => Promise<boolean>) | undefined;
}

/** What is asked of a run, beside what is walked. */
export interface RunWishes {
  readonly rows?: string | undefined;
  readonly atOnce?: number | undefined;
  readonly dryRun?: boolean | undefined;
  readonly stopAtFirstFailure?: boolean | undefined;
  /** How often all is walked, once by default; `Infinity` for as long as nobody ends it. */
  readonly repeat?: number | undefined;
  /** Milliseconds from one beginning to the next. */
  readonly every?: number | undefined;
  /** The first walk that comes out so is the last. */
  readonly until?: 'ok' | 'failed' | undefined;
  /** What `once-by` remembers of earlier runs is forgotten. */
  readonly anew?: boolean | undefined;
}
