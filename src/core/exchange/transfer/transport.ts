/** Sending: a pool of connections for each origin and way of connecting; a proxy in between where there is one. */
import Pool from 'undici/lib/dispatcher/pool.js';
import { noTimes } from '../connection/connect-times.js';
import { type Connection, plainConnection, proxyFor } from '../connection/connection.js';
import { timedConnector } from '../connection/connectors.js';
import type { Origin } from '../connection/origin.js';
import { throughProxy } from '../connection/through-proxy.js';
import type { WireRequest } from '../request/wire.js';
import type { OpenSpool } from '../response/overflow.js';
import type { Sink } from '../response/sink.js';
import { exchange } from './exchange.js';
import type { Outcome } from './outcome.js';
import { type Carrying, followRedirects, isRedirect } from './redirects.js';
import { mostHeaders } from './trouble.js';

export type { Outcome } from './outcome.js';
export type { Carrying } from './redirects.js';

export interface Transport {
  /** Never throws for what a network or a server does. */
  send(wire: WireRequest, signal: AbortSignal | undefined, carrying?: Carrying, sink?: Sink): Promise<Outcome>;
  /** Lets the connections go. */
  close(): Promise<void>;
}

/** The time to connect that is in force by default. */
const usualConnect = 10_000;

/** @param only the port of 127.0.0.1 that all requests go to, whatever host they name: there is no other connection then */
export function openTransport(only?: number): Transport {
  const origins = new Map<string, Origin>();

  function originFor({ url, timeout, connection }: WireRequest): Origin {
    const name = url.origin;
    const key =
      timeout.connect === usualConnect && connection.key === '' && !connection.proxy
        ? name
        : `${name} ${timeout.connect} ${connection.key}`;
    let origin = origins.get(key);
    if (!origin) {
      const proxy = only === undefined ? proxyFor(url, connection.proxy) : undefined;
      origin = proxy
        ? throughProxy(name, proxy, timeout.connect, connection)
        : direct(name, timeout.connect, only === undefined ? connection : plainConnection, only);
      origins.set(key, origin);
    }
    return origin;
  }

  const once = (
    wire: WireRequest,
    signal: AbortSignal | undefined,
    sink: Sink | undefined,
    spool: OpenSpool | undefined,
  ): Promise<Outcome> => exchange(wire, originFor(wire), signal, sink, spool);

  return {
    send: (wire, signal, carrying, sink) =>
      once(wire, signal, sink, carrying?.spool).then((outcome) =>
        outcome.received && isRedirect(outcome.received.status)
          ? followRedirects(wire, outcome, (hop) => once(hop, signal, sink, carrying?.spool), carrying)
          : outcome,
      ),
    async close() {
      for (const { pool } of origins.values()) await pool.destroy();
      origins.clear();
    },
  };
}

function direct(name: string, connectTimeout: number, { tls, http2 }: Connection, only?: number): Origin {
  const pool = new Pool(name, {
    connect: timedConnector(
      (times) => {
        origin.newest = times;
      },
      connectTimeout,
      tls,
      http2,
      only,
    ),
    maxHeaderSize: mostHeaders,
    headersTimeout: 0,
    bodyTimeout: 0,
    ...(http2 && { allowH2: true, ...(name.startsWith('http:') && { useH2c: true }) }),
  } as ConstructorParameters<typeof Pool>[1]);
  const origin: Origin = { name, pool, newest: noTimes() };
  return origin;
}
