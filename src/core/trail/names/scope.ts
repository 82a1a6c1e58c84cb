/** The names of one walk: inputs, row columns and kept values; what is kept later replaces what was there. */
import type { Named, Names } from '../../expression/names.js';

export class Scope implements Names {
  readonly layers: readonly string[];

  /** @param outer the scope that this one is in: seen, and never changed */
  constructor(
    private readonly values: Map<string, Named>,
    layer: string,
    private readonly outer?: Scope,
  ) {
    this.layers = outer ? [layer, ...outer.layers] : [layer];
  }

  lookup(name: string): Named | undefined {
    return this.values.get(name) ?? this.outer?.lookup(name);
  }

  *known(): Iterable<string> {
    yield* this.values.keys();
    if (this.outer) yield* this.outer.known();
  }

  set(name: string, named: Named): void {
    this.values.set(name, named);
  }

  /** As it is now; what is kept later does not change it. */
  snapshot(): Scope {
    return new Scope(new Map(this.values), this.layers[0] ?? '', this.outer?.snapshot());
  }
}
