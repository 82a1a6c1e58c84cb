/** What differs between two values, place by place. */

import { equalValues } from '../value/equal.js';
import { pathBelow } from '../value/json-path-text.js';
import { ownMember } from '../value/own-member.js';
import { cellIn } from '../value/rows.js';
import { textOf } from '../value/text.js';
import { isValueMap, plain, type Value } from '../value/written.js';
import { exactly } from './counting.js';
import type { Difference } from './difference.js';

/** Lists whose order says nothing, by place, each with the path in an item that tells it apart: `$` for the item itself. */
export type Unordered = Readonly<Record<string, string>>;

/** Lists are compared item by item, in order unless it says nothing; maps by their keys, in whatever order. */
export function differencesBetween(left: Value, right: Value, at = '$', unordered: Unordered = {}): Difference[] {
  return new Comparing(unordered).values(left, right, at);
}

class Comparing {
  private readonly keys: readonly (readonly [covers: (at: string) => boolean, key: string])[];

  constructor(unordered: Unordered) {
    this.keys = Object.entries(unordered).map(([place, key]) => [exactly(place), key]);
  }

  values(left: Value, right: Value, at: string): Difference[] {
    if (isValueMap(left) && isValueMap(right)) {
      const keys = new Set([...Object.keys(left), ...Object.keys(right)]);
      return [...keys].flatMap((key) => {
        const here = pathBelow(at, key);
        if (!Object.hasOwn(right, key)) return [only(here, 'removed', ownMember(left, key) as Value)];
        if (!Object.hasOwn(left, key)) return [only(here, 'added', ownMember(right, key) as Value)];
        return this.values(ownMember(left, key) as Value, ownMember(right, key) as Value, here);
      });
    }
    if (Array.isArray(left) && Array.isArray(right)) {
      const [a, b] = [left as readonly Value[], right as readonly Value[]];
      const key = this.keys.find(([covers]) => covers(at))?.[1];
      return key === undefined ? this.inOrder(a, b, at) : this.byKey(a, b, at, key);
    }
    // The type counts: 1 is not "1".
    const same = typeof plain(left) === typeof plain(right) && equalValues(left, right);
    return same ? [] : [{ at, kind: 'changed', left, right }];
  }

  private inOrder(a: readonly Value[], b: readonly Value[], at: string): Difference[] {
    return Array.from({ length: Math.max(a.length, b.length) }, (_, index) => {
      const here = pathBelow(at, index);
      if (index >= b.length) return [only(here, 'removed', a[index] as Value)];
      if (index >= a.length) return [only(here, 'added', b[index] as Value)];
      return this.values(a[index] as Value, b[index] as Value, here);
    }).flat();
  }

  /** Items with the same key belong together; several of one are taken in order. */
  private byKey(a: readonly Value[], b: readonly Value[], at: string, key: string): Difference[] {
    const path = key.replace(/^\$\.?/, '');
    const keyOf = (item: Value): string => {
      const found = path === '' ? item : cellIn(item, path);
      return found === undefined ? '' : typeof plain(found) === 'string' ? JSON.stringify(found) : textOf(found);
    };
    const others = new Map<string, Value[]>();
    for (const item of b) {
      const own = others.get(keyOf(item));
      if (own) own.push(item);
      else others.set(keyOf(item), [item]);
    }
    const here = (value: string): string => `${at}[?@${path === '' ? '' : `.${path}`} == ${value}]`;
    const found = a.flatMap((item) => {
      const value = keyOf(item);
      const other = others.get(value)?.shift();
      return other === undefined ? [only(here(value), 'removed', item)] : this.values(item, other, here(value));
    });
    for (const [value, items] of others) for (const item of items) found.push(only(here(value), 'added', item));
    return found;
  }
}

const only = (at: string, kind: 'added' | 'removed', value: Value): Difference => ({
  at,
  kind,
  left: kind === 'removed' ? value : undefined,
  right: kind === 'added' ? value : undefined,
});
