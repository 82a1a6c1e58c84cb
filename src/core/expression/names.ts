/** Names and where their values come from. */
import { ownMember } from '../value/own-member.js';
import type { Value } from '../value/written.js';

/** A value with its origin, such as `default in requests/calls/book.yaml` or `environment sandbox`. */
export interface Named {
  readonly value: Value;
  readonly origin: string;
  /** Worked out from a secret: redacted wherever it would be printed or stored. */
  readonly secret?: boolean | undefined;
}

/** What an expression can see. `layers` are the places searched, in order, for error messages. */
export interface Names {
  lookup(name: string): Named | undefined;
  known(): Iterable<string>;
  readonly layers: readonly string[];
}

export const noNames: Names = { lookup: () => undefined, known: () => [], layers: [] };

/** Several sets of names, the first that knows a name wins. */
export function layered(...sets: readonly Names[]): Names {
  return new Layered(sets);
}

class Layered implements Names {
  constructor(private readonly sets: readonly Names[]) {}

  lookup(name: string): Named | undefined {
    for (const set of this.sets) {
      const found = set.lookup(name);
      if (found) return found;
    }
    return undefined;
  }

  *known(): Iterable<string> {
    for (const set of this.sets) yield* set.known();
  }

  get layers(): readonly string[] {
    return this.sets.flatMap((set) => set.layers);
  }
}

/** Names that are made when first asked for: most sendings never look at their caller's. */
export function lazily(make: () => Names): Names {
  return new Lazy(make);
}

class Lazy implements Names {
  private made: Names | undefined;

  constructor(private readonly make: () => Names) {}

  private get names(): Names {
    this.made ??= this.make();
    return this.made;
  }

  lookup(name: string): Named | undefined {
    return this.names.lookup(name);
  }

  known(): Iterable<string> {
    return this.names.known();
  }

  get layers(): readonly string[] {
    return this.names.layers;
  }
}

/** Names from a plain map of values. */
export function namesFrom(values: Readonly<Record<string, Value>>, origin: string): Names {
  return {
    lookup: (name) => (Object.hasOwn(values, name) ? { value: ownMember(values, name) as Value, origin } : undefined),
    known: () => Object.keys(values),
    layers: [origin],
  };
}
