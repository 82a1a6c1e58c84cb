/** What a caller says of a walk. */

import type { Journal } from '../journal.js';
import type { RunRecord } from '../record/run-record.js';
import type { PartOfRows } from '../rows/row-part.js';
import type { SeenItems } from '../seen-items.js';
import type { Walk } from '../step-kind.js';

export interface WalkSettings {
  readonly report: (record: RunRecord) => void;
  /** Ends the walk; undo parts run after it. */
  readonly signal: AbortSignal;
  /** Ends the undo parts too. */
  readonly undoSignal?: AbortSignal | undefined;
  /** Tell about how many rows there are. */
  readonly countRows?: boolean | undefined;
  /** Which of the walks of a command it is, from 0. */
  readonly number?: number;
  readonly journal?: Journal | undefined;
  /** Only the rows of these digests; all by default. */
  readonly rows?: ReadonlySet<string> | undefined;
  /** Of the rows of the source, those of one part. */
  readonly part?: PartOfRows | undefined;
  /** The run was made of parts, of which some may be missing. */
  readonly gaps?: boolean | undefined;
  /** No further row or iteration is begun once one has failed. */
  readonly stopAtFirstFailure?: boolean | undefined;
  /** Files that other tables of the same command went to: of other trails, or in other environments. */
  readonly tablesElsewhere?: ReadonlySet<string> | undefined;
  /** What `once-by` passes over; kept from one walk to the next. */
  readonly seen?: SeenItems | undefined;
  readonly remember?: Walk['remember'];
}
