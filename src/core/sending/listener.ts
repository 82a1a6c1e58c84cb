/** Who is told what sending meets on its way. */
import type { Wait } from '../pacing/tries.js';

export interface Listener {
  /** A host asked for patience. */
  readonly waiting?: (wait: Wait) => void;
  readonly sessionOpened?: (name: string) => void;
}

export interface Listeners extends Required<Listener> {
  /** From now on, until what it returns is called. */
  add(listener: Listener): () => void;
}

export function listeners(): Listeners {
  const all = new Set<Listener>();
  return {
    add(listener) {
      all.add(listener);
      return () => all.delete(listener);
    },
    waiting(wait) {
      for (const one of all) one.waiting?.(wait);
    },
    sessionOpened(name) {
      for (const one of all) one.sessionOpened?.(name);
    },
  };
}
