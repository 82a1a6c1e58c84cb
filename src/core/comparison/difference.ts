/** One place at which two values differ. */
import type { Value } from '../value/written.js';

export interface Difference {
  /** JSONPath for data, XPath for XML, `status`, `header.etag`, `time`; `line 4` for text. */
  readonly at: string;
  readonly kind: 'changed' | 'added' | 'removed';
  /** undefined where it is only on the other side. */
  readonly left: Value | undefined;
  readonly right: Value | undefined;
}
