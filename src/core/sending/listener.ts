/** Who is told what sending meets on its way. */
import type { Wait } from '../pacing/tries.js';

export interface Listener {
  /** A host asked for patience. */
  readonly waiting?: (wait: Wait) => void;
  readonly sessionOpened?: (name: string) => void;
  /** One exchange came to its end: each try, and each redirect that was followed. */
  readonly exchanged?: (exchange: ExchangeFacts) => void;
}

/** Nothing of it is secret. */
export interface ExchangeFacts {
  readonly echo: string;
  readonly request: string;
  readonly method: string;
  readonly url: string;
  readonly status: number | undefined;
  readonly milliseconds: number | undefined;
  /** Of the problem, where there is no usable response. */
  readonly code: string | undefined;
  /** Something more was sent because of it. */
  readonly again: boolean;
}

export interface Listeners extends Required<Listener> {
  /** Whether somebody is told of exchanges: a run makes thousands. */
  readonly wantsExchanges: boolean;
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
    exchanged(facts) {
      for (const one of all) one.exchanged?.(facts);
    },
    get wantsExchanges() {
      for (const one of all) if (one.exchanged) return true;
      return false;
    },
  };
}
