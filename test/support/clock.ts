/** A clock that passes only when it is told to. */
import { setImmediate } from 'node:timers/promises';
import type { Clock } from '../../src/core/value/clock.js';

export interface GivenClock extends Clock {
  /** What is due by then is done, in its order, and what follows from it. */
  pass(ms: number): Promise<void>;
}

export function givenClock(): GivenClock {
  let now = 0;
  let waiting: { readonly at: number; readonly work: () => void }[] = [];
  return {
    now: () => now,
    in(ms, work) {
      const one = { at: now + ms, work };
      waiting.push(one);
      return () => {
        waiting = waiting.filter((other) => other !== one);
      };
    },
    async pass(ms) {
      const end = now + ms;
      for (;;) {
        await setImmediate();
        const [next] = waiting.filter(({ at }) => at <= end).sort((a, b) => a.at - b.at);
        if (!next) break;
        waiting = waiting.filter((other) => other !== next);
        now = next.at;
        next.work();
      }
      now = end;
    },
  };
}
