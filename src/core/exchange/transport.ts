/** Sending over HTTP/1.1: a pool of connections an origin, one exchange at a time on each; redirects. */
import { lookup as lookUp } from 'node:dns';
import type { LookupFunction, Socket } from 'node:net';
import buildConnector from 'undici/lib/core/connect.js';
import Pool from 'undici/lib/dispatcher/pool.js';
import { Problem } from '../problem/problem.js';
import { type ConnectTimes, exchange, type Origin, type Outcome } from './exchange.js';
import { type Hop, Received } from './received.js';
import type { WireRequest } from './wire.js';

export type { Outcome } from './exchange.js';

export interface Transport {
  /** Never throws for what a network or a server does. */
  send(wire: WireRequest, signal: AbortSignal | undefined): Promise<Outcome>;
  /** Lets the connections go. */
  close(): Promise<void>;
}

/** The time to connect that is in force where nothing is said. */
const usualConnect = 10_000;

export function openTransport(): Transport {
  const origins = new Map<string, Origin>();

  function originFor({ url, timeout }: WireRequest): Origin {
    const name = url.origin;
    const key = timeout.connect === usualConnect ? name : `${name} ${timeout.connect}`;
    let origin = origins.get(key);
    if (!origin) {
      const times: ConnectTimes = { started: 0, lookedUp: 0, ended: 0, remoteAddress: undefined };
      origin = {
        name,
        times,
        pool: new Pool(name, {
          connect: timedConnector(times, timeout.connect),
          headersTimeout: 0,
          bodyTimeout: 0,
        }),
      };
      origins.set(key, origin);
    }
    return origin;
  }

  return {
    async send(wire, signal) {
      const outcome = await exchange(wire, originFor(wire), signal);
      if (!outcome.received || !redirecting.has(outcome.received.status)) return outcome;
      return follow(wire, outcome, (hop) => exchange(hop, originFor(hop), signal));
    },
    async close() {
      await Promise.all([...origins.values()].map(({ pool }) => pool.destroy()));
      origins.clear();
    },
  };
}

/** The library's connector, with its phases measured. */
function timedConnector(times: ConnectTimes, timeout: number): ReturnType<typeof buildConnector> {
  const lookup: LookupFunction = (hostname, options, callback) => {
    lookUp(hostname, options, (error, address, family) => {
      times.lookedUp = performance.now();
      (callback as (error: Error | null, address: unknown, family: number) => void)(error, address, family as number);
    });
  };
  const connect = buildConnector({ timeout, lookup } as Parameters<typeof buildConnector>[0]);
  return (options, callback) => {
    times.started = performance.now();
    times.lookedUp = times.started;
    connect(options, (...result) => {
      times.ended = performance.now();
      times.remoteAddress = (result[1] as Socket | null)?.remoteAddress;
      callback(...result);
    });
  };
}

const redirecting = new Set([301, 302, 303, 307, 308]);

/** Follows redirects of safe calls (RFC 9110 section 15.4); credentials stay with the origin that they were for. */
async function follow(
  wire: WireRequest,
  first: Outcome,
  send: (wire: WireRequest) => Promise<Outcome>,
): Promise<Outcome> {
  const hops: Hop[] = [];
  let current = wire;
  let outcome = first;
  for (;;) {
    const { received } = outcome;
    if (!received || outcome.trouble || !redirecting.has(received.status)) return withHops(outcome, hops);
    const location = received.headers.find(([name]) => name.toLowerCase() === 'location')?.[1];
    const safe = wire.method === 'GET' || wire.method === 'HEAD';
    if (location === undefined || !safe || wire.redirects === 0) return withHops(outcome, hops);
    hops.push({ status: received.status, url: current.url.href });
    if (hops.length > wire.redirects) {
      const trouble = new Problem('redirect-loop', {
        what: `more than ${wire.redirects} redirects`,
        where: 'following redirects',
        cause: `the last led to ${location}`,
        remedy: 'redirects: none shows the first answer',
      });
      return withHops({ received, trouble }, hops);
    }
    const next = URL.canParse(location, current.url.href) ? new URL(location, current.url) : undefined;
    if (!next || !/^https?:$/.test(next.protocol)) return withHops(outcome, hops.slice(0, -1));
    const sameOrigin = next.origin === current.url.origin;
    current = {
      ...current,
      url: next,
      shownUrl: next.href,
      headers: current.headers.filter(({ secret }) => sameOrigin || !secret),
    };
    outcome = await send(current);
  }
}

function withHops(outcome: Outcome, hops: readonly Hop[]): Outcome {
  if (hops.length === 0 || !outcome.received) return outcome;
  return { ...outcome, received: new Received({ ...outcome.received.parts, hops }) };
}
