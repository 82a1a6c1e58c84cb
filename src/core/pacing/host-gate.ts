/**
 * How fast one host is called. All that is sent to a host goes through its gate, so that one refusal slows all
 * of it: the gate is shut for the wait that the server asked for, and opens to half as many requests at once;
 * each response after that lets a few more in, as congestion control of TCP does (RFC 5681, section 3.1).
 */
import { type Clock, realClock } from '../value/clock.js';

export interface Pace {
  /** Requests under way at once. */
  readonly atOnce?: number | undefined;
  readonly perSecond?: number | undefined;
}

/** A turn at the gate, given back when the response is there. */
export interface Turn {
  /** By the clock. */
  readonly began: number;
}

interface Waiting {
  readonly go: (turn: Turn | undefined) => void;
  readonly signal: AbortSignal | undefined;
  readonly give: () => void;
}

export class HostGate {
  private active = 0;
  private window: number;
  private shutUntil = 0;
  private nextLeave = 0;
  private narrowedAt = 0;
  private stopTimer: (() => void) | undefined;
  private queue: Waiting[] = [];

  constructor(
    private readonly pace: Pace,
    private readonly clock: Clock = realClock,
  ) {
    this.window = pace.atOnce ?? Number.POSITIVE_INFINITY;
  }

  /** A turn now, or a promise of one; undefined where the signal came first. */
  enter(signal?: AbortSignal): Turn | Promise<Turn | undefined> {
    const now = this.clock.now();
    if (this.queue.length === 0 && this.wait(now) === 0) return this.take(now);
    if (signal?.aborted) return Promise.resolve(undefined);
    return new Promise((go) => {
      const give = (): void => {
        this.queue = this.queue.filter((one) => one !== waiting);
        // A timer that nobody waits for would keep the program from ending.
        if (this.queue.length === 0) this.stopTimer?.();
        go(undefined);
      };
      const waiting: Waiting = { go, signal, give };
      signal?.addEventListener('abort', give, { once: true });
      this.queue.push(waiting);
      this.pump();
    });
  }

  /** @param taken the server took the request, so that more may be under way */
  leave(taken: boolean): void {
    this.active -= 1;
    if (taken && this.window !== Number.POSITIVE_INFINITY) {
      const most = this.pace.atOnce ?? Number.POSITIVE_INFINITY;
      this.window = Math.min(most, this.window + 1 / this.window);
    }
    if (this.queue.length > 0) this.pump();
  }

  /**
   * Gives a turn back while its request waits for something that may have to pass the gate itself, such as a log-in, and takes
   * one again behind that: else the two would wait for each other.
   */
  async lend<T>(work: Promise<T>, signal?: AbortSignal): Promise<T> {
    this.active -= 1;
    this.pump();
    try {
      return await work;
    } finally {
      const turn = await this.enter(signal);
      // Interrupted: its place is given back once more where the request ends.
      if (!turn) this.active += 1;
    }
  }

  /**
   * Shuts the gate. @param ms for how long; @param refused the turn of a request that was refused, which narrows
   * the gate, unless it left before the gate was narrowed last and says nothing new
   * @returns by how much longer the gate is shut than it was, in milliseconds
   */
  shut(ms: number, refused?: Turn): number {
    const now = this.clock.now();
    const before = Math.max(now, this.shutUntil);
    this.shutUntil = Math.max(before, now + ms);
    if (refused && refused.began >= this.narrowedAt) {
      this.narrowedAt = now;
      this.window = Math.max(1, Math.floor(Math.min(this.window, this.active) / 2));
    }
    return this.shutUntil - before;
  }

  private take(now: number): Turn {
    this.active += 1;
    const { perSecond } = this.pace;
    if (perSecond !== undefined) this.nextLeave = Math.max(now, this.nextLeave) + 1000 / perSecond;
    return { began: now };
  }

  /** Milliseconds until the next may go; Infinity where somebody has to come back first. */
  private wait(now: number): number {
    if (this.active >= Math.max(1, Math.floor(this.window))) return Number.POSITIVE_INFINITY;
    return Math.max(0, this.shutUntil - now, this.pace.perSecond === undefined ? 0 : this.nextLeave - now);
  }

  private pump(): void {
    const now = this.clock.now();
    while (this.queue.length > 0) {
      const wait = this.wait(now);
      if (wait > 0) {
        if (wait !== Number.POSITIVE_INFINITY) this.wakeIn(wait);
        return;
      }
      const next = this.queue.shift() as Waiting;
      next.signal?.removeEventListener('abort', next.give);
      next.go(this.take(now));
    }
  }

  private wakeIn(ms: number): void {
    this.stopTimer?.();
    const due = (): void => {
      this.stopTimer = undefined;
      this.pump();
    };
    // A timer may be a millisecond early, and would find the gate shut.
    this.stopTimer = this.clock.in(Math.ceil(ms), due, true);
  }
}
