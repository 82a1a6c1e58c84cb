/** What comes of sending a request once, and the origin that it is sent to. */
import type { Dispatcher } from 'undici';
import type { Problem } from '../problem/problem.js';
import type { ConnectTimes } from './connectors.js';
import type { Received } from './received.js';

/** The outcome of one try: what came back, what went wrong, or, of a broken response, both. */
export interface Outcome {
  readonly received: Received | undefined;
  readonly trouble: Problem | undefined;
}

export interface Origin {
  /** Scheme, host and port. */
  readonly name: string;
  pool: Dispatcher;
  /** How its newest connection was made. */
  newest: ConnectTimes;
  /** Its host and port, where there is one in between. */
  readonly proxy?: string;
}
