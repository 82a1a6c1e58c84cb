/** What comes of sending a request once. */
import type { Problem } from '../../problem/problem.js';
import type { Received } from '../response/received.js';

/** The outcome of one try: what came back, what went wrong, or, of a broken response, both. */
export interface Outcome {
  readonly received: Received | undefined;
  readonly trouble: Problem | undefined;
}
