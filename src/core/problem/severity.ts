/** Which of several problems decides, in the order of the exit statuses. */
import type { Problem } from './problem.js';

const order: readonly Problem['family'][] = [
  'failed-expectation',
  'no-answer',
  'refused',
  'wrong-input',
  'fault',
  'interrupted',
];

export function graver(one: Problem | undefined, other: Problem): Problem {
  return one && order.indexOf(one.family) >= order.indexOf(other.family) ? one : other;
}
