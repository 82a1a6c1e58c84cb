/** When a request is sent again: what its file, the folders above it or the environment say. */
import type { RetryFile } from '../collection/files/parts.js';
import type { YamlFile } from '../collection/yaml.js';
import { compileExpectations, type Expectation } from '../expectation/expectations.js';
import type { Loads } from '../expression/compile.js';
import type { Namespaces } from '../place/place.js';
import { parseDuration } from '../value/measures.js';

export interface RetryPolicy {
  readonly statuses: ReadonlySet<number>;
  /** All of them hold in a response that says "too busy" in its body. */
  readonly busy: readonly Expectation[];
  /** Milliseconds. */
  readonly wait: number;
  readonly growth: number;
  readonly ceiling: number;
  readonly tries: number;
  readonly within: number;
  /** Only where the server says how long to wait, and never for a lost response: nobody has asked for more. */
  readonly onlyTold: boolean;
}

const usual = { wait: 2000, growth: 2, ceiling: 60_000, tries: 6, within: Number.POSITIVE_INFINITY, busy: [] } as const;

/** In force by default. */
export const toldOnly: RetryPolicy = { ...usual, statuses: new Set([429, 503]), onlyTold: true };

/** Undefined for `none`. @throws Problem about a place or a matcher of `busy` */
export function retryPolicy(
  spec: RetryFile,
  yaml: YamlFile,
  readText: (path: string) => string,
  loads: Loads,
  namespaces?: Namespaces,
): RetryPolicy | undefined {
  if (spec === 'none') return undefined;
  const ms = (text: string | undefined, otherwise: number): number =>
    text === undefined ? otherwise : (parseDuration(text) as number);
  return {
    statuses: new Set(spec.statuses ?? [429, 502, 503, 504]),
    busy: compileExpectations(spec.busy, yaml, ['retry', 'busy'], readText, loads, namespaces),
    wait: ms(spec.wait, usual.wait),
    growth: spec.growth ?? usual.growth,
    ceiling: ms(spec.ceiling, usual.ceiling),
    tries: spec.tries ?? usual.tries,
    within: ms(spec.within, usual.within),
    onlyTold: false,
  };
}

/**
 * How long to wait after a try, where the server does not say: growing, and up to a half longer by chance, so that those who
 * were refused together do not come back together. Never less than was asked for.
 * @param tries how many there were; @param random from 0 to 1
 */
export function ownWait({ wait, growth, ceiling }: RetryPolicy, tries: number, random: number): number {
  return Math.min(ceiling, wait * growth ** (tries - 1) * (1 + random / 2));
}
