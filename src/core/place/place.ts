/** A place: where a value is in an exchange. */
import type { Evaluation } from '../expression/evaluation.js';
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
  /** The node set, where the place is a query that selects nodes; undefined where it gives a single value. */
  nodes?(observed: Observed): readonly Value[] | undefined;
  /** The node set as data, for tables: an element of XML is a map. */
  data?(observed: Observed): readonly Value[] | undefined;
  /** Of a place that holds `${…}`: the same with their values. */
  bound?(evaluation: Evaluation): Place;
  /** The nearest thing that exists, for the message of a failure. */
  near(observed: Observed): string | undefined;
}

/** What is at a place as a list: the nodes of a query, the items of a list, or one value. */
export function listAt(place: Place, observed: Observed): readonly Value[] {
  const nodes = place.nodes?.(observed);
  if (nodes) return nodes;
  const found = place.find(observed);
  return Array.isArray(found) ? (found as readonly Value[]) : found === undefined ? [] : [found];
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
