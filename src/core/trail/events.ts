/** What a walk tells while it happens. Data only; the words are the view's. */
import type { Problem } from '../problem/problem.js';
import type { Sent } from './sending.js';

export type StepState = 'ok' | 'failed' | 'skipped';

export interface StepEvent {
  readonly event: 'step';
  readonly kind: 'send' | 'trail' | 'keep';
  readonly label: string;
  readonly state: StepState;
  /** 0 for the steps of the trail itself, 1 for those of a trail inside it. */
  readonly depth: number;
  readonly row: number | undefined;
  readonly sent: Sent | undefined;
  /** Names that were kept. */
  readonly kept: readonly string[];
  readonly problems: readonly Problem[];
}

/** `done`; `failed`; `not needed` where the vendor had refused the step; `impossible` where a value is missing. */
export type UndoState = 'done' | 'failed' | 'not needed' | 'impossible';

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

export type WalkEvent = StepEvent | UndoEvent | RowEvent | SessionEvent;

export interface Summary {
  readonly run: string;
  readonly ok: boolean;
  readonly interrupted: boolean;
  readonly rows: { readonly ok: number; readonly failed: number } | undefined;
  readonly steps: { readonly ok: number; readonly failed: number; readonly skipped: number };
  readonly expectations: { readonly met: number; readonly failed: number };
  readonly undone: number;
  /** Undo parts that could not run; what they would have taken back may still be there. */
  readonly notUndone: number;
  /** Changing calls whose answer was lost. */
  readonly inDoubt: readonly string[];
  /** Milliseconds. */
  readonly time: number;
  /** What ended the rows early, and is told by no event. */
  readonly ended: Problem | undefined;
  /** The gravest problem, which decides the exit status. */
  readonly problem: Problem | undefined;
}
