/** Which of several problems decides: the one order of severity, which is that of the exit statuses. */
import type { ProblemFamily } from './codes.js';
import type { Problem } from './problem.js';

/** The least severe first. */
const order: readonly ProblemFamily[] = [
  'failed-expectation',
  'no-response',
  'refused',
  'wrong-input',
  'fault',
  'interrupted',
];

/** From 0, the least. */
export const severityOf = (family: ProblemFamily): number => order.indexOf(family);

export const moreSevere = (one: Problem | undefined, other: Problem): Problem =>
  one && severityOf(one.family) >= severityOf(other.family) ? one : other;
