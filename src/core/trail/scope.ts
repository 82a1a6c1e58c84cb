/** The names of one walk: inputs, row columns and kept values; what is kept later replaces what was there. */
import type { Named, Names } from '../expression/names.js';

export class Scope implements Names {
  readonly layers: readonly string[];

  constructor(
    private readonly values: Map<string, Named>,
    layer: string,
  ) {
    this.layers = [layer];
  }

  lookup(name: string): Named | undefined {
    return this.values.get(name);
  }

  known(): Iterable<string> {
    return this.values.keys();
  }

  set(name: string, named: Named): void {
    this.values.set(name, named);
  }

  /** As it is now; what is kept later does not change it. */
  snapshot(): Scope {
    return new Scope(new Map(this.values), this.layers[0] ?? '');
  }
}
