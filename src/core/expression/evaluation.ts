/** The state of working out one expression, and what it may yield. */
import type { Value } from '../value/written.js';
import type { Named, Names } from './names.js';
import type { World } from './world.js';

/** The result of `${absent}`: the key, item or parameter that holds it vanishes. */
export const omitted: unique symbol = Symbol('omitted');
export type Result = Value | typeof omitted;

/** What every evaluation of one request shares. */
export interface Surroundings {
  readonly world: World;
  /** Told of every value that was worked out from a secret, steps in between included. */
  readonly onSecret: (value: Value) => void;
}

/** A part of a text that was put together. */
export interface Piece {
  readonly text: string;
  readonly secret: boolean;
}

/** The text with only its secrets replaced; all of it, where nobody knows which part of it they are. */
export const masked = (text: string, pieces: readonly Piece[] | undefined, replacement: string): string =>
  pieces && pieces.length > 0 && pieces.map((piece) => piece.text).join('') === text
    ? pieces.map((piece) => (piece.secret ? replacement : piece.text)).join('')
    : replacement;

/** A class, since a run makes thousands: objects of one shape are read and written many times faster. */
export class Evaluation implements Surroundings {
  readonly world: World;
  readonly onSecret: (value: Value) => void;
  /** Set when a secret, or a name worked out from one, was used. */
  touchedSecret = false;
  /** Where it is set, the pieces of the text that was put together last are listed, each with whether it is secret. */
  pieces: Piece[] | undefined;

  /** @param onName told of every name used, for the list of origins */
  constructor(
    readonly names: Names,
    { world, onSecret }: Surroundings,
    readonly onName?: ((name: string, named: Named) => void) | undefined,
  ) {
    this.world = world;
    this.onSecret = onSecret;
  }

  /** What the work yields, and whether a secret was used for it. */
  traced<T>(work: () => T): readonly [result: T, secret: boolean] {
    const before = this.touchedSecret;
    this.touchedSecret = false;
    const result = work();
    const secret = this.touchedSecret;
    this.touchedSecret ||= before;
    return [result, secret];
  }

  /** The same, and of a text that was put together, its pieces. */
  inPieces<T>(work: () => T): { readonly result: T; readonly secret: boolean; readonly pieces: readonly Piece[] } {
    const outer = this.pieces;
    this.pieces = [];
    try {
      const [result, secret] = this.traced(work);
      return { result, secret, pieces: this.pieces };
    } finally {
      this.pieces = outer;
    }
  }
}

/** An expression made ready: undefined means that a name or a member does not exist. */
export type Program = (evaluation: Evaluation) => Result | undefined;
