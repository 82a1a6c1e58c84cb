/** A matcher: what a value must be. Used by expectations, inputs, `until` and `only-if` alike. */
import type { Difference } from '../comparison/difference.js';
import type { PlaceUnit } from '../place/place.js';
import type { Value } from '../value/written.js';

/** How the value to be matched is written, which decides how expected values are read. */
export interface Subject {
  /** JSON: a number is not the text of it. Text places compare numerically with a number. */
  readonly strict: boolean;
  readonly unit?: PlaceUnit | undefined;
}

/** What a matcher may need beyond the value; known when the request file is loaded. */
export interface CompileContext {
  readonly subject: Subject;
  /** What must have settled before the check can run. */
  readonly loads: Promise<unknown>[];
  /** The text of a file of the collection; of the response of an echo, where its id is given. */
  readonly readText: (path: string) => string;
  /** Documented schemas that responses will be held against, as far as it is known before anything is sent. */
  readonly documented?: (() => readonly object[]) | undefined;
}

/** What is known only when a response is there. */
export interface MatchContext {
  /** The node set that was found, where a place selects nodes: one of them is a text otherwise. */
  readonly nodes?: readonly Value[] | undefined;
  /** The documented JSON Schema of this response, with its definitions; undefined where none is. */
  readonly documented?: (() => object | undefined) | undefined;
  /** Takes what was found as the new baseline; undefined where that is not wanted. */
  readonly accept?: ((accepted: Accepted) => void) | undefined;
}

/** A document that was found in place of an expected one. */
export interface Accepted {
  /** Of the collection. */
  readonly file: string;
  readonly text: string;
  readonly differences: readonly Difference[];
  /** There was none before. */
  readonly made: boolean;
}

export interface Check {
  /** `at least 3`, `one of a, b`. */
  readonly describe: () => string;
  /** undefined when it holds; else a detail to show, empty where there is nothing to add. */
  readonly miss: (found: Value | undefined, situation: MatchContext) => string | undefined;
  /** Where the found value is not like a document: each place by itself. */
  readonly deviations?: (found: Value | undefined) => readonly Difference[];
}

export type Nested = (expected: Value, subject: Subject) => Check;

export interface MatcherKind {
  readonly name: string;
  readonly about: string;
  readonly example: string;
  /**
   * @param nested makes a check of a value or matchers inside this one
   * @throws Problem matcher-shape
   */
  compile(expected: Value, workshop: CompileContext, nested: Nested): Check;
}

/** The usual response of a check without details. */
export const unless = (holds: boolean): string | undefined => (holds ? undefined : '');
