/** Many pieces of work, so many at once, begun in order as they come from a stream: memory holds only those. */
import { setImmediate } from 'node:timers/promises';
import { asProblem, type Problem } from '../../problem/problem.js';

/** Milliseconds without a look at what else there is to do. */
const patience = 50;

/**
 * @param work is given each item with its number, from 1
 * @returns what ended the reading early; undefined where all were worked on, or the signal came
 */
export async function concurrently<T>(
  items: AsyncIterator<T>,
  atOnce: number,
  work: (item: T, number: number) => Promise<void>,
  signal: AbortSignal,
): Promise<Problem | undefined> {
  let fault: Problem | undefined;
  let number = 0;
  let heard = performance.now();
  async function worker(): Promise<void> {
    while (!signal.aborted && !fault) {
      // Work that never waits would keep Ctrl-C from being heard.
      if (performance.now() - heard > patience) {
        await setImmediate();
        heard = performance.now();
      }
      const next = await items.next();
      if (next.done) return;
      // Those who ask are answered in the order in which they asked.
      number += 1;
      await work(next.value, number);
    }
  }
  const guarded = (): Promise<void> =>
    worker().catch((error: unknown) => {
      fault ??= asProblem(error);
    });
  await Promise.all(Array.from({ length: atOnce }, guarded));
  await items.return?.();
  return fault;
}
