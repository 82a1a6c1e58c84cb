/** One exchange on one connection: what is sent, what comes back, when, and what goes wrong. */
import type { Pool } from 'undici';
import { asProblem, type Problem } from '../problem/problem.js';
import { decompressed } from './compression.js';
import { Received, type ReceivedParts } from './received.js';
import { Ended, explainTrouble, type Progress } from './trouble.js';
import type { WireRequest } from './wire.js';

/** Beyond this an answer is not held in memory. */
const largest = 256e6;

/** The outcome of one try: what came back, what went wrong, or, of a broken answer, both. */
export interface Outcome {
  readonly received: Received | undefined;
  readonly trouble: Problem | undefined;
}

/** When the newest connection of a pool was made; milliseconds of `performance.now`. */
export interface ConnectTimes {
  started: number;
  lookedUp: number;
  ended: number;
  remoteAddress: string | undefined;
}

export interface Origin {
  /** Scheme, host and port. */
  readonly name: string;
  readonly pool: Pool;
  readonly times: ConnectTimes;
}

/** Never rejects for what a network or a server does. */
export function exchange(wire: WireRequest, origin: Origin, signal: AbortSignal | undefined): Promise<Outcome> {
  return new Promise((resolve) => {
    new Exchange(wire, origin, signal, resolve).begin();
  });
}

/** The handler of the library's dispatcher: a class, since a run makes one for every request. */
class Exchange {
  private readonly started = performance.now();
  private sent = this.started;
  private firstByte = 0;
  private status = 0;
  private reason = '';
  private headers: [string, string][] = [];
  private size = 0;
  private fresh = false;
  private done = false;
  private readonly chunks: Buffer[] = [];
  private abort: ((error: Error) => void) | undefined;
  private timer: NodeJS.Timeout | undefined;
  private readonly interrupt = (): void => this.end(new Ended('interrupt'));

  constructor(
    private readonly wire: WireRequest,
    private readonly origin: Origin,
    private readonly signal: AbortSignal | undefined,
    private readonly resolve: (outcome: Outcome) => void,
  ) {}

  begin(): void {
    const { wire, signal } = this;
    if (signal?.aborted) {
      this.finish(new Ended('interrupt'));
      return;
    }
    if (signal) interruptions(signal).add(this.interrupt);
    this.timer = setTimeout(() => this.end(new Ended('timeout')), wire.timeout.total);
    try {
      this.origin.pool.dispatch(
        {
          origin: this.origin.name,
          path: wire.url.pathname + wire.url.search,
          method: wire.method as 'GET',
          headers: headerList(wire),
          body: wire.body?.bytes ?? null,
        },
        this,
      );
    } catch (error) {
      this.finish(error);
    }
  }

  onConnect(abort: (error: Error) => void): void {
    this.abort = abort;
    this.sent = performance.now();
    this.fresh = this.origin.times.ended >= this.started;
  }

  onHeaders(code: number, raw: Buffer[], _resume: () => void, reason: string): boolean {
    // 1xx are hints on the way; the answer follows.
    if (code < 200) return true;
    this.firstByte = performance.now();
    this.status = code;
    this.reason = reason;
    for (let index = 0; index + 1 < raw.length; index += 2) {
      this.headers.push([(raw[index] as Buffer).toString('latin1'), (raw[index + 1] as Buffer).toString('latin1')]);
    }
    return true;
  }

  onData(chunk: Buffer): boolean {
    this.size += chunk.length;
    if (this.size > largest) this.end(new Ended('size'));
    else this.chunks.push(chunk);
    return true;
  }

  onComplete(): void {
    this.finish(undefined);
  }

  onError(error: Error): void {
    this.finish(error);
  }

  /** Ended by our own side. */
  private end(error: Error): void {
    if (this.done) return;
    this.abort?.(error);
    this.finish(error);
  }

  private finish(error: unknown): void {
    if (this.done) return;
    this.done = true;
    clearTimeout(this.timer);
    if (this.signal) interruptions(this.signal).delete(this.interrupt);
    const trouble = error === undefined ? undefined : explainTrouble(error, this.progress());
    if (this.status === 0) {
      this.resolve({ received: undefined, trouble });
      return;
    }
    const parts = this.parts();
    const encoding = this.header('content-encoding');
    if (encoding === undefined || trouble) {
      this.resolve({ received: new Received(parts), trouble });
      return;
    }
    decompressed(parts.body, encoding, largest).then(
      (body) => this.resolve({ received: new Received({ ...parts, body }), trouble: undefined }),
      (problem: unknown) => this.resolve({ received: new Received(parts), trouble: asProblem(problem) }),
    );
  }

  private parts(): ReceivedParts {
    const ended = performance.now();
    const { fresh, chunks } = this;
    const { times } = this.origin;
    const connected = fresh && times.started >= this.started;
    return {
      status: this.status,
      reason: this.reason,
      headers: this.headers,
      body: chunks.length === 1 ? (chunks[0] as Buffer) : Buffer.concat(chunks),
      wireSize: this.size,
      phases: {
        lookup: connected && times.lookedUp > times.started ? times.lookedUp - times.started : undefined,
        connect: connected ? times.ended - times.lookedUp : undefined,
        waiting: this.firstByte - this.sent,
        receiving: ended - this.firstByte,
        total: ended - (connected ? times.started : this.sent),
      },
      finalUrl: this.wire.url.href,
      hops: [],
      remoteAddress: times.remoteAddress,
    };
  }

  private header(name: string): string | undefined {
    return this.headers.find(([key]) => key.toLowerCase() === name)?.[1];
  }

  private progress(): Progress {
    const announced = this.header('content-length');
    return {
      url: this.wire.url,
      timeout: this.wire.timeout,
      connected: this.abort !== undefined,
      answered: this.status > 0,
      received: this.size,
      announced: announced === undefined ? undefined : Number(announced),
    };
  }
}

const lists = new WeakMap<WireRequest['headers'], string[]>();

/** Names and values in turn. Three lines the library writes itself, two of them first and one last. */
function headerList({ headers }: WireRequest): string[] {
  let list = lists.get(headers);
  if (!list) {
    const own = ({ name, origin }: WireRequest['headers'][number]): boolean =>
      origin !== 'automatic' || (name !== 'host' && name !== 'connection' && name !== 'content-length');
    list = headers.filter(own).flatMap(({ name, value }) => [name, value]);
    lists.set(headers, list);
  }
  return list;
}

const interruptible = new WeakMap<AbortSignal, Set<() => void>>();

/** The exchanges that a signal ends. One listener serves them all: adding one for each costs more than a small call. */
function interruptions(signal: AbortSignal): Set<() => void> {
  let open = interruptible.get(signal);
  if (!open) {
    const made = new Set<() => void>();
    open = made;
    interruptible.set(signal, made);
    signal.addEventListener('abort', () => {
      for (const interrupt of [...made]) interrupt();
    });
  }
  return open;
}
