/** Making connections: the library's connector with its phases measured, TLS as wanted, a certificate that is pinned. */
import { lookup as lookUp } from 'node:dns';
import type { LookupFunction, Socket } from 'node:net';
import { rootCertificates, TLSSocket } from 'node:tls';
import buildConnector from 'undici/lib/core/connect.js';
import { type TlsFacts, tlsFacts } from './certificate.js';
import type { TlsSettings } from './connection.js';

/** When the newest connection of a pool was made; milliseconds of `performance.now`. */
export interface ConnectTimes {
  started: number;
  lookedUp: number;
  /** When the connection stood, TLS not yet begun. */
  connected: number;
  ended: number;
  remoteAddress: string | undefined;
  tls: TlsFacts | undefined;
  protocol: string;
}

export const noTimes = (): ConnectTimes => ({
  started: 0,
  lookedUp: 0,
  connected: 0,
  ended: 0,
  remoteAddress: undefined,
  tls: undefined,
  protocol: 'HTTP/1.1',
});

type Connector = ReturnType<typeof buildConnector>;
type ConnectorOptions = NonNullable<Parameters<typeof buildConnector>[0]>;

/** The certificate of the host is not the one that was pinned. */
class WrongPin extends Error {
  readonly code = 'ECHO_TRAIL_PIN';
}

/** What Node wants to hear of the TLS of an environment. */
export function tlsOptions(tls: TlsSettings | undefined): ConnectorOptions {
  if (!tls) return {};
  const { trust, identity, serverName, minimum, pinned } = tls;
  return {
    ...(trust.length > 0 && { ca: [...rootCertificates, ...trust] }),
    ...(identity?.certificate !== undefined && { cert: identity.certificate }),
    ...(identity?.key !== undefined && { key: identity.key }),
    ...(identity?.bundle !== undefined && { pfx: Buffer.from(identity.bundle) }),
    ...(identity?.passphrase !== undefined && { passphrase: identity.passphrase }),
    ...(serverName !== undefined && { servername: serverName }),
    ...(minimum !== undefined && { minVersion: minimum }),
    // Whoever signed it: the fingerprint is compared instead.
    ...(pinned !== undefined && { rejectUnauthorized: false }),
  };
}

export function timedConnector(
  times: ConnectTimes,
  timeout: number,
  tls: TlsSettings | undefined,
  http2: boolean,
): Connector {
  const lookup: LookupFunction = (hostname, options, callback) => {
    lookUp(hostname, options, (error, address, family) => {
      times.lookedUp = performance.now();
      (callback as (error: Error | null, address: unknown, family: number) => void)(error, address, family as number);
    });
  };
  const connect = buildConnector({
    timeout,
    lookup,
    ...tlsOptions(tls),
    ...(http2 && { allowH2: true }),
  } as ConnectorOptions);
  return (options, callback) => {
    times.started = performance.now();
    times.lookedUp = times.started;
    times.connected = 0;
    const socket = (connect as unknown as (...given: Parameters<Connector>) => Socket | undefined)(
      options,
      (...result) => {
        times.ended = performance.now();
        const made = result[1] as Socket | null;
        times.remoteAddress = made?.remoteAddress;
        if (made instanceof TLSSocket) {
          times.tls = tlsFacts(made);
          times.protocol = made.alpnProtocol === 'h2' ? 'HTTP/2' : 'HTTP/1.1';
          if (tls?.pinned !== undefined && times.tls.certificate?.fingerprint !== tls.pinned) {
            made.destroy();
            callback(new WrongPin('the certificate is not the pinned one'), null);
            return;
          }
        }
        callback(...result);
      },
    );
    // The TLS handshake begins when the connection stands.
    socket?.once?.('connect', () => {
      times.connected = performance.now();
    });
  };
}
