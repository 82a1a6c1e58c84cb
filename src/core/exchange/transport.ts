/** Sending over HTTP/1.1: a pool of connections an origin, one exchange at a time on each. */

import { lookup as lookUp } from 'node:dns';
import type { LookupFunction, Socket } from 'node:net';
import type { Pool as PoolType } from 'undici';
import buildConnector from 'undici/lib/core/connect.js';
import Pool from 'undici/lib/dispatcher/pool.js';
import { asProblem, Problem } from '../problem/problem.js';
import { decompressed } from './compression.js';
import { type Hop, Received } from './received.js';
import { Ended, explainTrouble } from './trouble.js';
import type { WireRequest } from './wire.js';

/** Beyond this an answer is not held in memory. */
const largest = 256e6;

/** The outcome of one try: what came back, what went wrong, or, of a broken answer, both. */
export interface Outcome {
  readonly received: Received | undefined;
  readonly trouble: Problem | undefined;
}

export interface Transport {
  /** Never throws for what a network or a server does. */
  send(wire: WireRequest, signal: AbortSignal | undefined): Promise<Outcome>;
  /** Lets the connections go. */
  close(): Promise<void>;
}

interface ConnectTimes {
  started: number;
  lookedUp: number;
  ended: number;
  remoteAddress: string | undefined;
}

interface Origin {
  readonly pool: PoolType;
  readonly times: ConnectTimes;
}

export function openTransport(): Transport {
  const origins = new Map<string, Origin>();

  function originFor({ url, timeout }: WireRequest): Origin {
    const key = `${url.origin} ${timeout.connect}`;
    let origin = origins.get(key);
    if (!origin) {
      const times: ConnectTimes = { started: 0, lookedUp: 0, ended: 0, remoteAddress: undefined };
      origin = {
        times,
        pool: new Pool(url.origin, {
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
    send: (wire, signal) => follow(wire, (hop) => sendOnce(hop, originFor(hop), signal)),
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

function sendOnce(wire: WireRequest, { pool, times }: Origin, signal: AbortSignal | undefined): Promise<Outcome> {
  const { url, timeout } = wire;
  return new Promise((resolve) => {
    const started = performance.now();
    let sent = started;
    let firstByte = 0;
    let status = 0;
    let reason = '';
    let headers: [string, string][] = [];
    let size = 0;
    let fresh = false;
    const chunks: Buffer[] = [];
    let abort: ((error: Error) => void) | undefined;
    let done = false;

    const timer = setTimeout(() => end(new Ended('timeout')), timeout.total);
    const onAbort = (): void => end(new Ended('interrupt'));
    if (signal?.aborted) {
      clearTimeout(timer);
      resolve({ received: undefined, trouble: explainTrouble(new Ended('interrupt'), progress()) });
      return;
    }
    signal?.addEventListener('abort', onAbort, { once: true });

    function progress(): Parameters<typeof explainTrouble>[1] {
      const announced = headers.find(([name]) => name.toLowerCase() === 'content-length')?.[1];
      return {
        url,
        timeout,
        connected: abort !== undefined,
        answered: status > 0,
        received: size,
        announced: announced === undefined ? undefined : Number(announced),
      };
    }

    function end(error: Error): void {
      if (done) return;
      if (abort) abort(error);
      finish(error);
    }

    function finish(error: unknown): void {
      if (done) return;
      done = true;
      clearTimeout(timer);
      signal?.removeEventListener('abort', onAbort);
      const ended = performance.now();
      const body = chunks.length === 1 ? (chunks[0] as Buffer) : Buffer.concat(chunks);
      const trouble = error === undefined ? undefined : explainTrouble(error, progress());
      if (status === 0) {
        resolve({ received: undefined, trouble });
        return;
      }
      const parts = {
        status,
        reason,
        headers,
        body,
        wireSize: size,
        phases: {
          lookup: fresh && times.lookedUp > times.started ? times.lookedUp - times.started : undefined,
          connect: fresh ? times.ended - times.lookedUp : undefined,
          waiting: firstByte - sent,
          receiving: ended - firstByte,
          total: ended - started,
        },
        finalUrl: url.href,
        hops: [] as Hop[],
        remoteAddress: times.remoteAddress,
      };
      const encoding = headers.find(([name]) => name.toLowerCase() === 'content-encoding')?.[1];
      if (encoding === undefined || trouble) {
        resolve({ received: new Received(parts), trouble });
        return;
      }
      decompressed(body, encoding, largest).then(
        (plainBody) => resolve({ received: new Received({ ...parts, body: plainBody }), trouble: undefined }),
        (problem: unknown) => resolve({ received: new Received(parts), trouble: asProblem(problem) }),
      );
    }

    const lines: string[] = [];
    for (const { name, value, origin } of wire.headers) {
      // The library writes these two itself, first and last.
      if (origin === 'automatic' && (name === 'host' || name === 'connection' || name === 'content-length')) continue;
      lines.push(name, value);
    }
    const handler = {
      onConnect(abortRequest: (error: Error) => void) {
        abort = abortRequest;
        sent = performance.now();
        fresh = times.ended >= started;
      },
      onHeaders(code: number, raw: Buffer[], _resume: () => void, statusText: string) {
        // 1xx are hints on the way; the answer follows.
        if (code < 200) return true;
        firstByte = performance.now();
        status = code;
        reason = statusText;
        headers = [];
        for (let index = 0; index + 1 < raw.length; index += 2) {
          headers.push([(raw[index] as Buffer).toString('latin1'), (raw[index + 1] as Buffer).toString('latin1')]);
        }
        return true;
      },
      onData(chunk: Buffer) {
        size += chunk.length;
        if (size > largest) end(new Ended('size'));
        else chunks.push(chunk);
        return true;
      },
      onComplete: () => finish(undefined),
      onError: (error: Error) => finish(error),
    };
    try {
      pool.dispatch(
        {
          origin: url.origin,
          path: url.pathname + url.search,
          method: wire.method as 'GET',
          headers: lines,
          body: wire.body?.bytes ?? null,
        },
        handler,
      );
    } catch (error) {
      finish(error);
    }
  });
}

const redirecting = new Set([301, 302, 303, 307, 308]);

/** Follows redirects of safe calls (RFC 9110 section 15.4); credentials stay with the origin that they were for. */
async function follow(wire: WireRequest, send: (wire: WireRequest) => Promise<Outcome>): Promise<Outcome> {
  const hops: Hop[] = [];
  let current = wire;
  for (;;) {
    const outcome = await send(current);
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
  }
}

function withHops(outcome: Outcome, hops: readonly Hop[]): Outcome {
  if (hops.length === 0 || !outcome.received) return outcome;
  return { ...outcome, received: new Received({ ...outcome.received.parts, hops }) };
}
