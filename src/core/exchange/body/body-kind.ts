/** A kind of body: from what the file says to bytes. */
import type { Loads } from '../../expression/compile.js';
import type { Evaluation } from '../../expression/evaluation.js';
import type { NamedFile } from '../../expression/files-used.js';
import type { TreePath } from '../../expression/tree.js';
import type { FilePosition } from '../../problem/problem.js';
import type { Value } from '../../value/written.js';
import type { WireBody } from '../request/wire.js';

export interface BodySetting {
  /** The position of a part of what the file says. */
  readonly where: (path: TreePath) => FilePosition | undefined;
  readonly loads: Loads;
  /** In capitals. */
  readonly method: string;
  /** The text of a file in the collection. @throws Problem file-outside, file-not-found */
  readonly read: (path: string) => string;
}

export interface BodyKind {
  /** The key below `body:`. */
  readonly name: string;
  readonly about: string;
  compile(spec: Value, setting: BodySetting): BodyPlan;
  /** Files whose names are written out, and that are read when it is sent. */
  files?(spec: Value): readonly NamedFile[];
}

/** undefined where the whole body is `${absent}`. */
export type BodyPlan = (evaluation: Evaluation) => WireBody | undefined;
