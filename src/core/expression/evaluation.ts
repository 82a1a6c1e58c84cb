/** The state of working out one expression, and what it may yield. */
import type { Readable } from 'node:stream';
import type { Value } from '../value/written.js';
import type { Named, Names } from './names.js';

/** The result of `${absent}`: the key, item or parameter that holds it vanishes. */
export const omitted: unique symbol = Symbol('omitted');
export type Result = Value | typeof omitted;

export interface Moment {
  readonly now?: Date | undefined;
  readonly nonce?: string | undefined;
}

/** What a filter makes of its input, or of another one. */
export type Apply = (input?: Value) => Value;
export type Through = (filter: string, input: Value, args: readonly Value[], apply: Apply) => Value;

/** What expressions may ask of the runtime, passed in so that a run can be repeated exactly. */
export interface Runtime {
  /** One moment for all of one request. */
  readonly now: Date;
  /** 32 hexadecimal digits that are used once: for one try of one request. */
  readonly nonce: string;
  /** One UUID for all of one request. */
  readonly uuid: string;
  /** From 0 up to, not including, 1. */
  random(): number;
  /** The bytes of a file inside the collection. */
  file(path: string): Uint8Array;
  /** The real path of a file inside the collection. @throws Problem file-outside, file-not-found */
  path(named: string): string;
  /** Standard input, where the command has it to give. */
  readonly standardInput: (() => Readable) | undefined;
  /** A template file with the values of the evaluation put in. */
  render(path: string, evaluation: Evaluation): string;
  /** A secret by name and key; undefined where it is not to be had. */
  secret(name: string, key?: string): string | undefined;
  /** Intercepts every filter, to record how a value is made: see `interchange/code`. */
  readonly through?: Through | undefined;
  /** The same request at another moment, with a nonce of its own: for the next try. */
  again(moment: Moment): Runtime;
}

/** What every evaluation of one request shares. */
export interface EvaluationContext {
  readonly runtime: Runtime;
  /** Told of every value that was computed from a secret, steps in between included. */
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
export class Evaluation implements EvaluationContext {
  readonly runtime: Runtime;
  readonly onSecret: (value: Value) => void;
  /** Set when a secret, or a name computed from one, was used. */
  touchedSecret = false;
  /** Where it is set, the pieces of the text that was put together last are listed, each with whether it is secret. */
  pieces: Piece[] | undefined;

  /** @param onName told of every name used, for the list of origins */
  constructor(
    readonly names: Names,
    { runtime, onSecret }: EvaluationContext,
    readonly onName?: ((name: string, named: Named) => void) | undefined,
  ) {
    this.runtime = runtime;
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
