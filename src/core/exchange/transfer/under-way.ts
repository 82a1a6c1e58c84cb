/** What is under way and ends when a signal says so. */

export interface Interruptible {
  /** Kept by the list that it is in. */
  place: number;
  interrupt(): void;
}

/**
 * A list, and no set: a set that many come into and leave is made again and again, and each that it was before
 * holds what was in it then, until the engine looks through all of its memory.
 */
export class UnderWay {
  private readonly open: Interruptible[] = [];

  constructor(signal: AbortSignal) {
    signal.addEventListener('abort', () => {
      for (const one of [...this.open]) one.interrupt();
    });
  }

  add(one: Interruptible): void {
    one.place = this.open.length;
    this.open.push(one);
  }

  /** The last one takes its place. @param one is in the list */
  remove(one: Interruptible): void {
    const last = this.open.pop();
    if (last === undefined || last === one) return;
    this.open[one.place] = last;
    last.place = one.place;
  }
}

const underWay = new WeakMap<AbortSignal, UnderWay>();

/** The exchanges that a signal ends. One listener serves them all: adding one for each costs more than a small call. */
export function underWayOf(signal: AbortSignal): UnderWay {
  let open = underWay.get(signal);
  if (!open) {
    open = new UnderWay(signal);
    underWay.set(signal, open);
  }
  return open;
}
