/** Making connections: the library's connector with its phases measured, TLS as wanted, a certificate that is pinned. */
import { lookup as lookUp } from 'node:dns';
import type { LookupFunction, Socket } from 'node:net';
import { rootCertificates, TLSSocket } from 'node:tls';
import buildConnector from 'undici/lib/core/connect.js';
import { tlsFacts } from './certificate.js';
import { type ConnectTimes, noTimes } from './connect-times.js';
import type { TlsSettings } from './connection.js';

type Connector = ReturnType<typeof buildConnector>;
type ConnectorOptions = NonNullable<Parameters<typeof buildConnector>[0]>;

/** The certificate of the host is not the one that was pinned. */
class WrongPin extends Error {
  readonly code = 'ECHO_TRAIL_PIN';
}

/** What Node wants to hear of the TLS of an environment. */
function tlsOptions(tls: TlsSettings | undefined): ConnectorOptions {
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

const loopback = (port: number) => ({
  protocol: 'http:',
  host: `127.0.0.1:${port}`,
  hostname: '127.0.0.1',
  port: String(port),
  servername: undefined,
});

/**
 * @param made called for each connection once it is established; several may be under way at once
 * @param only the port of 127.0.0.1 that every connection leads to, in clear text, whatever host was asked for
 */
export function timedConnector(
  made: (times: ConnectTimes) => void,
  timeout: number,
  tls: TlsSettings | undefined,
  http2: boolean,
  only?: number,
): Connector {
  let begun = noTimes();
  const lookup: LookupFunction = (hostname, options, callback) => {
    // Names are asked for as soon as a connection is begun: before the next one is.
    const times = begun;
    lookUp(hostname, options, (error, address, family) => {
      times.lookedUp = performance.now();
      (callback as (error: Error | null, address: unknown, family: number) => void)(error, address, family as number);
    });
  };
  const connect = buildConnector({
    timeout,
    lookup,
    ...tlsOptions(tls),
    // In clear text there is no negotiation: it is known before (RFC 9113 section 3.3).
    ...(http2 && { allowH2: true, useH2c: true }),
    // A session of TLS that is resumed shows no certificate to compare (RFC 8446 section 2.2).
    ...(tls?.pinned !== undefined && { maxCachedSessions: 0 }),
  } as ConnectorOptions);
  return (given, callback) => {
    const options = only === undefined ? given : { ...given, ...loopback(only) };
    const times = noTimes();
    begun = times;
    times.started = performance.now();
    times.lookedUp = times.started;
    if (http2 && options.protocol === 'http:') times.protocol = 'HTTP/2';
    const socket = (connect as unknown as (...given: Parameters<Connector>) => Socket | undefined)(
      options,
      (...result) => {
        times.ended = performance.now();
        const socket = result[1] as Socket | null;
        times.remoteAddress = socket?.remoteAddress;
        if (socket instanceof TLSSocket) {
          times.tls = tlsFacts(socket);
          times.protocol = socket.alpnProtocol === 'h2' ? 'HTTP/2' : 'HTTP/1.1';
          if (tls?.pinned !== undefined && times.tls.certificate?.fingerprint !== tls.pinned) {
            socket.destroy();
            callback(new WrongPin('the certificate is not the pinned one'), null);
            return;
          }
        }
        if (socket) made(times);
        callback(...result);
      },
    );
    // The TLS handshake begins when the connection stands; without one the first exchange does, which must not come before this.
    socket?.prependOnceListener?.('connect', () => {
      times.connected = performance.now();
    });
  };
}
