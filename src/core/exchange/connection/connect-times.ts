/** The moments of making a connection. */
import type { TlsFacts } from './certificate.js';

/** When a connection was made; milliseconds of `performance.now`. */
export interface ConnectTimes {
  started: number;
  lookedUp: number;
  /** When the connection stood, TLS not yet begun. */
  connected: number;
  ended: number;
  remoteAddress: string | undefined;
  tls: TlsFacts | undefined;
  protocol: string;
  /** An exchange was the first on it: for those that follow it was there already. */
  used: boolean;
}

export const noTimes = (): ConnectTimes => ({
  started: 0,
  lookedUp: 0,
  connected: 0,
  ended: 0,
  remoteAddress: undefined,
  tls: undefined,
  protocol: 'HTTP/1.1',
  used: false,
});
