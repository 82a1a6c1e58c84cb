/** `table`, made ready. */
import type { Tree } from '../../expression/tree.js';
import type { Place } from '../../place/place.js';

export interface TablePlan {
  /** In order. */
  readonly columns: readonly string[];
  /** Columns that are computed. */
  readonly trees: ReadonlyMap<string, Tree>;
  /** Columns that stand at a place of the last response. */
  readonly places: ReadonlyMap<string, Place>;
  readonly as: string | undefined;
  /** The file, in the collection. */
  readonly to: Tree | undefined;
  /** That may be the file, whatever stands for its `${…}`. */
  readonly mayWrite: (file: string) => boolean;
  readonly show: boolean;
}
