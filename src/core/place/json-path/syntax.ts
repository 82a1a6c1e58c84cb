/** The syntax tree of a JSONPath query, in the words of RFC 9535 section 2. */
import type { Value } from '../../value/written.js';

/** Beyond RFC 9535: `${…}` stands for a literal, a name or an index. Slots are numbered as they come. */
export interface Query {
  readonly root: '$' | '@';
  readonly segments: readonly Segment[];
}

export interface Segment {
  readonly descendant: boolean;
  readonly selectors: readonly Selector[];
}

export type Selector =
  | { readonly kind: 'name'; readonly name: string }
  | { readonly kind: 'index'; readonly index: number }
  | { readonly kind: 'slot'; readonly slot: number }
  | { readonly kind: 'wildcard' }
  | {
      readonly kind: 'slice';
      readonly start: number | undefined;
      readonly end: number | undefined;
      readonly step: number;
    }
  | { readonly kind: 'filter'; readonly test: Logical };

export type Logical =
  | { readonly kind: 'or' | 'and'; readonly parts: readonly Logical[] }
  | { readonly kind: 'not'; readonly part: Logical }
  | { readonly kind: 'exists'; readonly query: Query }
  | { readonly kind: 'call'; readonly call: Call }
  | { readonly kind: 'compare'; readonly operator: Operator; readonly left: Comparable; readonly right: Comparable };

export type Operator = '==' | '!=' | '<' | '<=' | '>' | '>=';

export type Comparable =
  | { readonly kind: 'literal'; readonly value: Value }
  | { readonly kind: 'slot'; readonly slot: number }
  | { readonly kind: 'query'; readonly query: Query }
  | { readonly kind: 'call'; readonly call: Call };

export interface Call {
  readonly name: string;
  readonly args: readonly Argument[];
}
export type Argument = Comparable;

/** RFC 9535 section 2.3.5.1: a query that yields one node at most. */
export function isSingular(query: Query): boolean {
  return query.segments.every(
    ({ descendant, selectors: [only, ...more] }) =>
      !descendant && more.length === 0 && (only?.kind === 'name' || only?.kind === 'index' || only?.kind === 'slot'),
  );
}
