/** The values of a foreign request that may be given from outside: each is in a slot, which identifies it. */
import type { Value } from '../../value/written.js';

export type SlotKind = 'path' | 'query' | 'header' | 'cookie' | 'field';

export interface Slot {
  readonly kind: SlotKind;
  /** Tells it apart within its request: `path 2`, `query free`, `body /berth`. */
  readonly key: string;
  /** What it is called there, for the name of an input. */
  readonly name: string;
  /** By its name it holds a credential. */
  readonly secret: boolean;
}

/** What is in the file in place of a value; undefined leaves the value. */
export type Filling = { readonly input: string } | { readonly secret: string } | undefined;

export interface Fill {
  /** @param value as it was sent, decoded */
  (slot: Slot, value: Value): Filling;
  /** What stands for a hole. */
  hole(name: string, slot: Slot): Exclude<Filling, undefined>;
}

export const expressionOf = (filling: Exclude<Filling, undefined>): string =>
  'input' in filling ? `\${${filling.input}}` : `\${secret.${filling.secret}}`;
