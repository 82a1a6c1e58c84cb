/** An origin that requests are sent to, with its connections. */
import type { Dispatcher } from 'undici';
import type { ConnectTimes } from './connect-times.js';

export interface Origin {
  /** Scheme, host and port. */
  readonly name: string;
  pool: Dispatcher;
  /** How its newest connection was made. */
  newest: ConnectTimes;
  /** Its host and port, where there is one in between. */
  readonly proxy?: string;
}
