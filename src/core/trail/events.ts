/** What happens in a walk, with all that is known of it: what is told and kept is the record that is made of it. */
import type { Difference } from '../comparison/difference.js';
import type { Wait } from '../pacing/tries.js';
import type { FurtherPages } from '../paging/further-pages.js';
import type { Problem } from '../problem/problem.js';
import type { PageCount } from '../sending/pages.js';
import type { Sent } from '../sending/sending.js';
import type { ValueMap } from '../value/written.js';

export type StepState = 'ok' | 'failed' | 'skipped';

/** What a step tells beside its response. */
export interface StepDetails {
  /** Of a request with pages. */
  readonly pages?: PageCount | undefined;
  /** Of a request without, whose response says that there is more than what was kept of it. */
  readonly further?: FurtherPages | undefined;
  /** Of a poll: what stood at the awaited places, each change once, and how often was asked. */
  readonly seen?: { readonly asked: number; readonly values: readonly string[] } | undefined;
  /** Of a choice: the label of what was chosen. */
  readonly chosen?: string | undefined;
  /** Of a comparison. */
  readonly differences?: readonly Difference[] | undefined;
  /** Where nothing is sent: why this could not be computed. */
  readonly unknown?: string | undefined;
  /** Of for-each: members that ended well, failed, and were passed over since they had been handled. */
  readonly members?: { readonly ok: number; readonly failed: number; readonly passed: number } | undefined;
}

export interface StepEvent {
  readonly event: 'step';
  readonly kind: string;
  readonly label: string;
  readonly state: StepState;
  /** 0 for the steps of the trail itself, 1 for those of a trail inside it. */
  readonly depth: number;
  readonly row: number | undefined;
  /** What the row is told apart by: the value of its first column. */
  readonly rowLabel: string | undefined;
  /** Which one of for-each it is taken for: `notice 12`. */
  readonly member: string | undefined;
  readonly sent: Sent | undefined;
  /** Names that were kept. */
  readonly kept: readonly string[];
  readonly problems: readonly Problem[];
  readonly told: StepDetails | undefined;
}

/**
 * `done`; `failed`; `not needed` where the vendor had refused the step; `impossible` where a value is missing; `in doubt` where
 * the call left, its response is not known, and a second one might do more.
 */
export type UndoState = 'done' | 'failed' | 'not needed' | 'impossible' | 'in doubt';

export interface UndoEvent {
  readonly event: 'undo';
  readonly label: string;
  /** The step that is taken back. */
  readonly step: string;
  readonly state: UndoState;
  readonly row: number | undefined;
  readonly sent: Sent | undefined;
  readonly problem: Problem | undefined;
}

export interface RowEvent {
  readonly event: 'row';
  readonly row: number;
  readonly ok: boolean;
  /** What the row is told apart by: the value of its first column. */
  readonly label: string;
  readonly problem: Problem | undefined;
}

export interface SessionEvent {
  readonly event: 'session-opened' | 'session-closed';
  readonly name: string;
  readonly problem: Problem | undefined;
}

export interface WaitEvent extends Wait {
  readonly event: 'waiting';
}

export interface TableEvent {
  readonly event: 'table';
  readonly label: string;
  readonly row: number | undefined;
  readonly columns: readonly string[];
  /** Of a long table the beginning. */
  readonly lines: readonly ValueMap[];
  readonly count: number;
  /** Lines of walks before, which its file has ahead of these. */
  readonly before: number;
  readonly to: string | undefined;
  readonly show: boolean;
}

/** A changing call whose response was lost. */
export interface DoubtEvent {
  readonly event: 'in-doubt';
  readonly call: string;
}

export type WalkEvent = StepEvent | UndoEvent | RowEvent | SessionEvent | WaitEvent | TableEvent | DoubtEvent;
