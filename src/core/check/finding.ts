/** What a check found. */
import type { FilePosition } from '../problem/problem.js';

export type Severity = 'error' | 'warning';

export interface Finding {
  readonly rule: string;
  readonly severity: Severity;
  readonly where: FilePosition;
  readonly what: string;
  readonly remedy: string | undefined;
}
