/** Verdicts and differences for programs. */

import type { Difference } from '../../../core/comparison/difference.js';
import type { Verdict } from '../../../core/expectation/expectations.js';
import type { Contradiction } from '../../../core/place/contradiction.js';
import { plain } from '../../../core/value/written.js';
import type { Documents } from '../../documents/documents.js';

export const differenceDocument = ({
  at,
  kind,
  left,
  right,
}: Difference): Documents['compare']['differences'][number] => ({
  at,
  kind,
  ...(left !== undefined && { left: plain(left) }),
  ...(right !== undefined && { right: plain(right) }),
});

export const verdictDocument = ({ deviations, ...verdict }: Verdict): Documents['send']['expectations'][number] => ({
  ...verdict,
  ...(deviations && { deviations: deviations.map(differenceDocument) }),
});

export const contradictionDocument = ({ at, found }: Contradiction, hide: (text: string) => string): Contradiction => ({
  at: hide(at),
  found: hide(found),
});
