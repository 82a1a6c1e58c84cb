/** A place: where a value stands in an exchange. */
import type { Value } from '../value/written.js';
import type { Observed } from './observed.js';

/** How expected values are written at a place: `2s` at a duration, `2xx` at a status. */
export type PlaceUnit = 'status' | 'duration' | 'size';

export interface Place {
  /** As it is written in the file. */
  readonly text: string;
  /** Numbers at a text place are compared numerically; JSON is strict. */
  readonly strict: boolean;
  readonly unit?: PlaceUnit;
  /** The value, or undefined where nothing stands. */
  find(observed: Observed): Value | undefined;
  /** The nearest thing that exists, for the message of a failure. */
  near(observed: Observed): string | undefined;
}

export interface PlaceKind {
  readonly name: string;
  readonly about: string;
  readonly example: string;
  /** The place if the text is of this kind; throws Problem place-syntax where it nearly is. */
  read(text: string, loads: Promise<unknown>[], namespaces?: Namespaces): Place | undefined;
}

/** XML namespaces by the prefix that places use for them. */
export type Namespaces = Readonly<Record<string, string>>;
