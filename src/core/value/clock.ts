/** Time as it passes: given in where it decides, so that nothing has to wait for it to be tried. */

export interface Clock {
  /** Milliseconds from some moment on; never set back. */
  now(): number;
  /** @param keepsAlive the program does not end before @returns takes it back */
  in(ms: number, work: () => void, keepsAlive: boolean): () => void;
}

export const realClock: Clock = {
  now: () => performance.now(),
  in(ms, work, keepsAlive) {
    const timer = setTimeout(work, ms);
    if (!keepsAlive) timer.unref();
    return () => clearTimeout(timer);
  },
};
