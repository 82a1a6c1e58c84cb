/** Calls that left, and whose responses did not come. */
import type { Problem } from '../problem/problem.js';
import type { Sent } from './sending.js';

const neverLeft = new Set<Problem['code']>(['name-lookup', 'connection-refused', 'connection-timeout', 'tls-failed']);

/** It changes something, and may have happened. */
export const isLost = ({ request, outcome: { received, trouble } }: Sent): boolean =>
  request.changes && received === undefined && trouble !== undefined && !neverLeft.has(trouble.code);
