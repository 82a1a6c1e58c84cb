/** A source: where an expression gets a value that no layer of names holds. */
import type { Value } from '../../value/written.js';
import type { Evaluation, Result } from '../evaluation.js';

export interface Source {
  readonly name: string;
  /** Written without brackets, like `now`. */
  readonly bare: boolean;
  readonly about: string;
  readonly example: string;
  /** What its argument may be, where that is one of a few. */
  readonly choices?: readonly string[];
  /** What must be loaded before it can be used. */
  readonly load?: () => Promise<unknown>;
  value(args: readonly Value[], evaluation: Evaluation): Result;
}
