/** What must be over by a time: one timer for all that has the same limit. */
import { type Clock, realClock } from '../../value/clock.js';

export interface Limited {
  /** Milliseconds, by the clock. */
  readonly started: number;
  /** Kept by the list that it is in, as the two behind it. */
  limitedBy: Deadlines | undefined;
  earlier: Limited | undefined;
  later: Limited | undefined;
  /** Its time is up. */
  expire(): void;
}

/**
 * What began with the same limit ends in the order in which it began: a list, and a timer for the first of it. Nearly all
 * is over long before; a timer for each, made and taken back, is a twentieth of what a small request costs.
 */
export class Deadlines {
  private first: Limited | undefined;
  private last: Limited | undefined;

  /** @param limit milliseconds */
  constructor(
    private readonly limit: number,
    private readonly empty: () => void,
    private readonly clock: Clock = realClock,
  ) {
    this.arm(limit);
  }

  /** The connection of what is waited for keeps the process alive, not this. */
  private arm(delay: number): void {
    this.clock.in(delay, () => this.due(), false);
  }

  private due(): void {
    const now = this.clock.now();
    let one = this.first;
    // A timer may be early by less than a millisecond.
    while (one && one.started + this.limit <= now + 1) {
      this.remove(one);
      one.expire();
      one = this.first;
    }
    if (one) this.arm(one.started + this.limit - now);
    else this.empty();
  }

  add(one: Limited): void {
    one.limitedBy = this;
    one.earlier = this.last;
    if (this.last) this.last.later = one;
    else this.first = one;
    this.last = one;
  }

  /** Nothing, where it is out of it already. */
  remove(one: Limited): void {
    if (one.limitedBy !== this) return;
    const { earlier, later } = one;
    one.limitedBy = undefined;
    one.earlier = undefined;
    one.later = undefined;
    if (earlier) earlier.later = later;
    else this.first = later;
    if (later) later.earlier = earlier;
    else this.last = earlier;
  }
}

const lists = new Map<number, Deadlines>();

/** @param limit milliseconds from the start of what is added */
export function deadlinesOf(limit: number): Deadlines {
  let list = lists.get(limit);
  if (!list) {
    list = new Deadlines(limit, () => lists.delete(limit));
    lists.set(limit, list);
  }
  return list;
}
