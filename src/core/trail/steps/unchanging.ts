/** Steps that send their request more than once, or once more when a run is resumed: it must change nothing. */
import { Problem } from '../../problem/problem.js';
import type { PreparedRequest } from '../../sending/prepare.js';
import type { PlanContext } from '../step-kind.js';

/** @throws Problem file-shape */
export function requireUnchanging(
  { plan }: PreparedRequest,
  key: 'poll' | 'compare',
  { yaml, path }: PlanContext,
): void {
  if (!plan.changes) return;
  throw new Problem('file-shape', {
    what: `${key} sends ${plan.name} more than once, and ${plan.method} changes something`,
    where: yaml.position([...path, key]),
    remedy:
      'where it changes nothing, write changes: false in its request file; else send it in a step before this one',
  });
}
