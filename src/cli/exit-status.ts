/** The exit status of a problem. The highest that applies, in the order of the manual, is the command's. */
import type { Problem } from '../core/problem/problem.js';

export const exitStatuses: Readonly<Record<Problem['family'], number>> = {
  interrupted: 130,
  'wrong-input': 2,
  fault: 2,
  refused: 4,
  'no-answer': 3,
  'failed-expectation': 1,
};

/** Of a command that was ended by Ctrl-C before all was done, whatever had gone well until then. */
export const interruptedStatus = exitStatuses.interrupted;

const order = [0, 1, 3, 4, 2, 130];

/** Of several, the one that the manual puts first. */
export const graverStatus = (...statuses: readonly number[]): number =>
  statuses.reduce((one, other) => (order.indexOf(other) > order.indexOf(one) ? other : one), 0);

export const exitStatus = (problem: Problem | undefined): number => (problem ? exitStatuses[problem.family] : 0);
