/** A file that a body names: found when the body is made, and known before where its name is written out. */
import type { Evaluation } from '../../expression/evaluation.js';
import type { NamedFile } from '../../expression/files-used.js';
import type { TreePath } from '../../expression/tree.js';
import { asProblem, type FilePosition } from '../../problem/problem.js';
import type { Value } from '../../value/written.js';

/** Its real path. @throws Problem file-outside, file-not-found, at the place where it is named */
export function pathNamed(named: string, evaluation: Evaluation, where: FilePosition | undefined): string {
  try {
    return evaluation.runtime.path(named);
  } catch (error) {
    throw asProblem(error).at(where);
  }
}

/** None, where its name is computed. */
export const writtenOut = (spec: Value | undefined, path: TreePath): NamedFile[] =>
  typeof spec === 'string' && !spec.includes('${') ? [{ file: spec, path }] : [];
