/** The exit status of a problem. The highest that applies, in the order of the manual, is the command's. */
import type { Problem } from '../core/problem/problem.js';

export const exitStatuses: Readonly<Record<Problem['family'], number>> = {
  interrupted: 130,
  'wrong-input': 2,
  fault: 2,
  refused: 4,
  'no-response': 3,
  'failed-expectation': 1,
};

/** Of a command that was ended by Ctrl-C before all was done, whatever had gone well until then. */
export const interruptedStatus = exitStatuses.interrupted;

/** As the manual has them, the least first. */
const order = [
  0,
  ...(['failed-expectation', 'no-response', 'refused', 'wrong-input', 'interrupted'] as const).map(
    (family) => exitStatuses[family],
  ),
];

/** Of several, the one that the manual puts first. */
export const graverStatus = (...statuses: readonly number[]): number =>
  statuses.reduce((one, other) => (order.indexOf(other) > order.indexOf(one) ? other : one), 0);

export const exitStatus = (problem: Problem | undefined): number => (problem ? exitStatuses[problem.family] : 0);
