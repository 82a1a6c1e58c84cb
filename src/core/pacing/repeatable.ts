/** Whether a call may be sent once more although the first may have been done. */
import { Problem } from '../problem/problem.js';

/** Beside those that change nothing: a second one changes nothing that the first has not (RFC 9110 section 9.2.2). */
const idempotent = new Set(['PUT', 'DELETE']);

export const isRepeatable = ({
  method,
  changes,
  idempotencyKey,
}: {
  readonly method: string;
  readonly changes: boolean;
  readonly idempotencyKey: string | undefined;
}): boolean => !changes || idempotent.has(method) || idempotencyKey !== undefined;

export const callInDoubt = (call: string): Problem =>
  new Problem('in-doubt', {
    what: `${call} may or may not have happened: no response was recorded`,
    remedy: 'check with the vendor; it is not resent automatically',
  });
