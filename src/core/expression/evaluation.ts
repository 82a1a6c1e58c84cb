/** The state of working out one expression, and what it may yield. */
import type { Value } from '../value/written.js';
import type { Named, Names } from './names.js';
import type { World } from './world.js';

/** The result of `${omit}`: the key, item or parameter that holds it vanishes. */
export const omitted: unique symbol = Symbol('omitted');
export type Result = Value | typeof omitted;

export interface Evaluation {
  readonly names: Names;
  readonly world: World;
  /** Set when a secret, or a name worked out from one, was used. */
  touchedSecret: boolean;
  /** Told of every value that was worked out from a secret, steps in between included. */
  readonly onSecret: (value: Value) => void;
  /** Told of every name used, for the list of origins. */
  readonly onName?: ((name: string, named: Named) => void) | undefined;
}

/** An expression made ready: undefined means that a name or a member does not exist. */
export type Program = (evaluation: Evaluation) => Result | undefined;
