/** Repeatable made-up data: a small linear generator, the same on every machine. */

export interface Seeded {
  /** From `least` to `most`, both included. */
  whole(least: number, most: number): number;
  pick<T>(list: readonly T[]): T;
}

/** Numerical Recipes' constants; good enough for data, nothing more. */
export function seeded(seed: number): Seeded {
  let state = seed >>> 0;
  const next = (): number => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
  const whole = (least: number, most: number): number => least + Math.floor(next() * (most - least + 1));
  return { whole, pick: (list) => list[whole(0, list.length - 1)] as (typeof list)[number] };
}
