/** The syntax tree of an expression. Offsets count from the first character inside `${`. */

export type Expression =
  | { readonly kind: 'literal'; readonly value: string | number | boolean | null }
  | { readonly kind: 'path'; readonly name: string; readonly steps: readonly PathStep[]; readonly offset: number }
  | { readonly kind: 'call'; readonly name: string; readonly args: readonly Expression[]; readonly offset: number }
  | { readonly kind: 'fallback'; readonly first: Expression; readonly otherwise: Expression }
  | {
      readonly kind: 'filter';
      readonly input: Expression;
      readonly name: string;
      readonly args: readonly Expression[];
      readonly offset: number;
    };

/** `.key`, `["key"]`, `[0]`, or `[name]` with the value of a name as the key. */
export type PathStep = { readonly key: string | number } | { readonly computed: Expression };
