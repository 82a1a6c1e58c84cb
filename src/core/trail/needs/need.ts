/** What a walk needs, by a name that is written out. */
import type { FilePosition } from '../../problem/problem.js';

export type Need = SecretNeed | FileNeed;

export interface SecretNeed {
  readonly kind: 'secret';
  readonly name: string;
  readonly key: string | undefined;
  readonly where: FilePosition;
}

interface FileNeed {
  readonly kind: 'file';
  readonly name: string;
  readonly where: FilePosition;
}
