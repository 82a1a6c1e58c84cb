/**
 * What `once-by` passes over: the items that were handled well, by the step that goes through them, with the lines that
 * they left in its table. It is kept from one walk of a command to the next, and in the journal for those that go on.
 */
import { hash } from 'node:crypto';
import { writeJson } from '../value/json-text.js';
import { textOf } from '../value/text.js';
import { plain, type Value, type ValueMap } from '../value/written.js';

export interface SeenItem {
  /** Which of the walks of the command handled it. */
  readonly walk: number;
  /** Where it stood in the list, from 1. */
  readonly place: number;
  /** Its line, where the step has a table. */
  readonly cells: ValueMap | undefined;
}

/** By the way to the step, then by the key of the item. */
export type SeenItems = Map<string, Map<string, SeenItem>>;

/** One step going through its items, in one of the walks of a command. */
export class OnceEach {
  /** Lines of what an earlier command handled in this very walk, until it is met again. */
  private readonly notMet = new Map<string, ValueMap | undefined>();
  private readonly begun = new Set<string>();

  constructor(
    private readonly items: Map<string, SeenItem>,
    private readonly walk: number,
  ) {
    for (const [key, { walk: by, cells }] of items) if (by === walk) this.notMet.set(key, cells);
  }

  /** What walks before this one left in the table, which grows from walk to walk. */
  linesBefore(): ValueMap[] {
    const before = [...this.items.values()].filter(({ walk }) => walk < this.walk);
    before.sort((a, b) => a.walk - b.walk || a.place - b.place);
    return before.flatMap(({ cells }) => cells ?? []) as ValueMap[];
  }

  /** It was handled before, or is just now; `cells` are its line where that is of this walk's table. */
  before(key: string): { readonly cells: ValueMap | undefined } | undefined {
    if (!this.items.has(key)) {
      if (this.begun.has(key)) return { cells: undefined };
      this.begun.add(key);
      return undefined;
    }
    const cells = this.notMet.get(key);
    this.notMet.delete(key);
    return { cells };
  }

  add(key: string, place: number, cells: ValueMap | undefined): void {
    this.items.set(key, { walk: this.walk, place, cells });
  }

  /** Lines of what is not in the list any more. */
  left(): ValueMap[] {
    return [...this.notMet.values()].filter((cells) => cells !== undefined);
  }
}

/** Those of one step. */
export function seenOn(seen: SeenItems, way: string): Map<string, SeenItem> {
  let items = seen.get(way);
  if (!items) {
    items = new Map();
    seen.set(way, items);
  }
  return items;
}

interface Place {
  readonly at: string;
  readonly way: string;
}

/**
 * The way to a step: as where it is in the run, but without the number of the walk, and by what the items on it are in
 * place of how many there were before them. It is the same when the run is repeated and something new stands before.
 */
export const wayTo = ({ at: before, way }: Place, at: string): string => way + at.slice(before.length);

/** An item on the way, by its key where it has one. */
export function itemOnWay(value: Value, key: string | undefined): string {
  const bare = plain(value);
  const text = key ?? (typeof bare === 'object' && bare !== null ? writeJson(value) : textOf(value));
  return keyDigest(text);
}

/** Keys are remembered on disk, and may hold a secret: what tells items apart is their digest. */
export const keyDigest = (text: string): string => hash('sha256', text, 'base64url');
