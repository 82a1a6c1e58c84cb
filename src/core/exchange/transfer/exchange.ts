/** One exchange on one connection: what is sent, what comes back, when, and what goes wrong. */
import { asProblem, type Problem } from '../../problem/problem.js';
import { type ConnectTimes, noTimes } from '../connection/connect-times.js';
import type { Origin } from '../connection/origin.js';
import type { WireRequest } from '../request/wire.js';
import { decompressed } from '../response/compression.js';
import { type HeaderLines, linesIn, type Trailers, trailerLines } from '../response/header-lines.js';
import { mostInMemory, type OpenSpool, Overflow } from '../response/overflow.js';
import { Received, type ReceivedParts } from '../response/received.js';
import type { Sink } from '../response/sink.js';
import { type Deadlines, deadlinesOf, type Limited } from './deadlines.js';
import { headerList } from './header-list.js';
import type { Outcome } from './outcome.js';
import { Ended, explainTrouble, isLengthMismatch, type Progress } from './trouble.js';
import { type Interruptible, type UnderWay, underWayOf } from './under-way.js';

/** Beyond this a response is not read where there is no file for it. */
const largest = 256e6;

/** Never rejects for what a network or a server does. */
export function exchange(
  wire: WireRequest,
  origin: Origin,
  signal: AbortSignal | undefined,
  sink?: Sink,
  openSpool?: OpenSpool,
): Promise<Outcome> {
  return new Promise((resolve) => {
    new Exchange(wire, origin, signal, sink, openSpool, resolve).begin();
  });
}

const empty = Buffer.alloc(0);

/** Bytes that are decoded at a time. */
const piece = 1 << 16;

/** Most responses have neither trailers nor hints: they share one empty list. */
const none: readonly never[] = [];

/** The handler of the library's dispatcher: a class, since a run makes one for every request. */
class Exchange implements Interruptible, Limited {
  place = 0;
  limitedBy: Deadlines | undefined;
  earlier: Limited | undefined;
  later: Limited | undefined;
  readonly started = performance.now();
  private sent = this.started;
  private firstByte = 0;
  private ended = 0;
  private status = 0;
  private reason = '';
  private headers: HeaderLines = none;
  private size = 0;
  private times: ConnectTimes | undefined;
  /** It was the first on its connection, which was made for it. */
  private fresh = false;
  private done = false;
  private chunks: Buffer[] = [];
  private overflow: Overflow | undefined;
  private abort: ((error: Error) => void) | undefined;
  /** For the first byte, then between pieces. */
  private silence: NodeJS.Timeout | undefined;
  private sinking: ReturnType<Sink['begin']> = 'nothing';
  private trailers: HeaderLines = none;
  private readonly hints: { status: number; headers: HeaderLines }[] = [];
  private resume: (() => void) | undefined;
  private open: UnderWay | undefined;

  constructor(
    private readonly wire: WireRequest,
    private readonly origin: Origin,
    private readonly signal: AbortSignal | undefined,
    private readonly sink: Sink | undefined,
    private readonly openSpool: OpenSpool | undefined,
    private readonly resolve: (outcome: Outcome) => void,
  ) {}

  begin(): void {
    const { wire, signal } = this;
    if (signal?.aborted) {
      this.finish(new Ended('interrupt'));
      return;
    }
    this.open = signal && underWayOf(signal);
    this.open?.add(this);
    deadlinesOf(wire.timeout.total).add(this);
    try {
      this.origin.pool.dispatch(
        {
          origin: this.origin.name,
          path: wire.url.pathname + wire.url.search,
          method: wire.method as 'GET',
          headers: headerList(wire),
          body: wire.body?.streamed?.open() ?? wire.body?.bytes ?? null,
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
    const { newest } = this.origin;
    // The first exchange on a connection begins as soon as that stands.
    this.fresh = !newest.used && newest.ended >= this.started;
    if (this.fresh) newest.used = true;
    this.times = newest;
    this.await(this.wire.timeout.firstByte, 'first-byte');
  }

  /** Ends the exchange where nothing comes for so long. */
  private await(limit: number | undefined, by: 'first-byte' | 'idle'): void {
    if (limit === undefined && this.silence === undefined) return;
    clearTimeout(this.silence);
    this.silence = limit === undefined ? undefined : setTimeout(() => this.end(new Ended(by)), limit);
  }

  onHeaders(code: number, raw: Buffer[], resume: () => void, reason: string): boolean {
    const headers = linesIn(raw);
    // 1xx are hints on the way; the response follows.
    if (code < 200) {
      this.hints.push({ status: code, headers });
      return true;
    }
    if (code === 407 && this.origin.proxy !== undefined) {
      this.end(new Error('Proxy Authentication Required (407)'));
      return true;
    }
    this.firstByte = performance.now();
    this.status = code;
    // A response without a reason phrase is one (RFC 9112 section 4).
    this.reason = reason ?? '';
    this.headers = headers;
    this.resume = resume;
    this.sinking = this.sink?.begin(code, headers) ?? 'nothing';
    this.await(this.wire.timeout.idle, 'idle');
    return true;
  }

  onData(chunk: Buffer): boolean {
    this.size += chunk.length;
    this.await(this.wire.timeout.idle, 'idle');
    if (this.sinking === 'instead') return this.pass(this.sink?.write(chunk));
    const kept = this.keep(chunk);
    const shown = this.sinking === 'nothing' ? undefined : this.sink?.write(chunk);
    return this.pass(kept && shown ? Promise.all([kept, shown]) : (kept ?? shown));
  }

  /** In memory, or, where it is too long for that, in a file. */
  private keep(chunk: Buffer): Promise<void> | undefined {
    if (this.overflow) return this.overflow.write(chunk);
    this.chunks.push(chunk);
    if (this.size > (this.openSpool ? mostInMemory : largest)) return this.overflows();
    return undefined;
  }

  private overflows(): Promise<void> | undefined {
    if (!this.openSpool) {
      this.end(new Ended('size'));
      return undefined;
    }
    const { chunks } = this;
    this.chunks = [];
    const { textual } = new Received({ ...this.parts(), body: chunks[0] ?? Buffer.alloc(0) });
    const overflow = new Overflow(this.openSpool(textual), this.header('content-encoding') ?? '');
    this.overflow = overflow;
    return (async () => {
      for (const [at, one] of chunks.entries()) {
        // What is written is deleted: all of it would stay until the end.
        chunks[at] = empty;
        await overflow.write(one);
      }
    })();
  }

  /** False holds the connection back until the chunk has been taken. */
  private pass(waiting: Promise<unknown> | undefined): boolean {
    if (!waiting) return true;
    waiting.then(
      () => this.resume?.(),
      (error: unknown) => this.end(error as Error),
    );
    return this.atEnd();
  }

  /** Where the other side may end the connection now, the library must not be held back: it would not hear that all has come. */
  private atEnd(): boolean {
    const announced = this.header('content-length');
    if (announced !== undefined) return this.size >= Number(announced);
    return this.header('transfer-encoding') === undefined;
  }

  onComplete(trailers: Trailers | null): void {
    if (trailers) this.trailers = trailerLines(trailers);
    this.finish(undefined);
  }

  onError(error: Error): void {
    this.finish(error);
  }

  expire(): void {
    this.end(new Ended('timeout'));
  }

  interrupt(): void {
    this.end(new Ended('interrupt'));
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
    this.limitedBy?.remove(this);
    if (this.silence) clearTimeout(this.silence);
    this.open?.remove(this);
    this.ended = performance.now();
    // Whatever length such a response announces, it ends with its header lines (RFC 9112 section 6.3).
    const bodiless = this.status === 204 || this.status === 304;
    const whole = error === undefined || (bodiless && isLengthMismatch(error));
    if (whole) afterwards(this);
    else
      void explainTrouble(error, this.progress()).then(
        (trouble) => this.conclude(trouble),
        (fault: unknown) => this.conclude(asProblem(fault)),
      );
  }

  conclude(trouble: Problem | undefined): void {
    if (this.status === 0) {
      this.resolve({ received: undefined, trouble });
      return;
    }
    const parts = this.parts();
    const encoding = this.header('content-encoding');
    if (this.overflow) {
      void this.spooled(this.overflow, parts, trouble);
      return;
    }
    // A response without a body may still name the coding that one would have.
    if (encoding === undefined || trouble || this.sinking === 'instead' || parts.body.length === 0) {
      this.resolve({ received: new Received(parts), trouble });
      return;
    }
    decompressed(parts.body, encoding, this.openSpool ? mostInMemory : largest).then(
      (body) => this.resolve({ received: new Received({ ...parts, body }), trouble: undefined }),
      (error: unknown) => this.undecoded(parts, encoding, asProblem(error)),
    );
  }

  /** What swells beyond what is held in memory goes to a file; what cannot be decoded stays as it came. */
  private undecoded(parts: ReceivedParts, encoding: string, problem: Problem): void {
    if (problem.code !== 'response-too-large' || !this.openSpool) {
      this.resolve({ received: new Received(parts), trouble: problem });
      return;
    }
    const { textual } = new Received({ ...parts, body: Buffer.alloc(0) });
    const overflow = new Overflow(this.openSpool(textual), encoding);
    const { body } = parts;
    void (async () => {
      const pieces = Math.ceil(body.length / piece);
      let failure: unknown;
      for (let at = 0; at < pieces && failure === undefined; at += 1) {
        const waiting = overflow.write(body.subarray(at * piece, (at + 1) * piece));
        await waiting?.catch((error: unknown) => {
          failure = error;
        });
      }
      await this.spooled(overflow, parts, failure === undefined ? undefined : asProblem(failure));
    })();
  }

  private async spooled(overflow: Overflow, parts: ReceivedParts, trouble: Problem | undefined): Promise<void> {
    const { body, spooled, problem } = await overflow.end();
    const received = new Received({ ...parts, body, spooled });
    this.resolve({ received, trouble: trouble ?? (problem === undefined ? undefined : asProblem(problem)) });
  }

  private parts(): ReceivedParts {
    const { ended, chunks, times = noTimes() } = this;
    const connected = this.fresh && times.started >= this.started;
    const stood = times.connected || times.ended;
    const ready = times.tls ? times.ended : stood;
    return {
      status: this.status,
      reason: this.reason,
      headers: this.headers,
      body: chunks.length === 1 ? (chunks[0] as Buffer) : Buffer.concat(chunks),
      wireSize: this.size,
      saved: this.sinking === 'instead' ? (this.sink?.saved ?? this.size) : undefined,
      phases: {
        lookup: connected && times.lookedUp > times.started ? times.lookedUp - times.started : undefined,
        connect: connected ? stood - times.lookedUp : undefined,
        tls: connected && times.tls ? ready - stood : undefined,
        waiting: this.firstByte - this.sent,
        receiving: ended - this.firstByte,
        // The sum: between the connection and the first byte that leaves, the library may have been at its own start.
        total: ended - this.sent + (connected ? ready - times.started : 0),
      },
      finalMethod: this.wire.method,
      finalUrl: this.wire.url.href,
      hops: [],
      remoteAddress: times.remoteAddress,
      protocol: times.protocol,
      tls: times.tls,
      trailers: this.trailers,
      hints: this.hints,
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
      connection: this.wire.connection,
      proxy: this.origin.proxy,
      connected: this.abort !== undefined,
      responded: this.status > 0,
      received: this.size,
      announced: announced === undefined ? undefined : Number(announced),
    };
  }
}

const concluded = (one: Exchange): void => one.conclude(undefined);

/**
 * The library takes a connection for free one turn of the event loop after its response. What the response leads to waits for
 * that: it would open another connection otherwise. And responses that came together are worked on together, in less time
 * than one by one.
 */
function afterwards(one: Exchange): void {
  queueMicrotask(() => setImmediate(concluded, one));
}
