/** Rows and columns in data: which lists it has, what their items have in common, and what is in each cell. */

import { pathBelow } from './json-path-text.js';
import { ownMember } from './own-member.js';
import { textOf } from './text.js';
import { isValueMap, plain, type Value } from './written.js';

export interface FoundList {
  /** JSONPath. */
  readonly at: string;
  readonly items: readonly Value[];
}

const deepest = 6;

/** The lists of maps, or of lists, in a value, the largest first. */
export function listsIn(value: Value): readonly FoundList[] {
  const found: FoundList[] = [];
  const visit = (here: Value, at: string, depth: number): void => {
    if (Array.isArray(here)) {
      const items = here as readonly Value[];
      if (items.length > 0 && (items.every(isValueMap) || items.every(Array.isArray))) found.push({ at, items });
    } else if (isValueMap(here) && depth < deepest) {
      for (const [key, inner] of Object.entries(here)) visit(inner, pathBelow(at, key), depth + 1);
    }
  };
  visit(value, '$', 0);
  return found.sort((a, b) => b.items.length - a.items.length);
}

/** Rows that are looked at for columns: what shows up only later is rare. */
const looked = 200;
const mostColumns = 30;

/**
 * Paths of the members of the items, nested ones with dots, in the order in which they first stand; of lists the numbers of
 * their items, and the empty path where the items are plain values.
 */
export function columnsIn(items: readonly Value[]): readonly string[] {
  const columns = new Set<string>();
  const visit = (value: Value, above: string, depth: number): void => {
    if (!isValueMap(value) || columns.size >= mostColumns) return;
    for (const [key, inner] of Object.entries(value)) {
      if (isValueMap(inner) && Object.keys(inner).length > 0 && depth < 3) visit(inner, `${above}${key}.`, depth + 1);
      else columns.add(`${above}${key}`);
    }
  };
  for (const item of items.slice(0, looked)) {
    if (Array.isArray(item)) for (const index of (item as readonly Value[]).keys()) columns.add(String(index));
    else if (isValueMap(item)) visit(item, '', 0);
    else columns.add('');
  }
  return [...columns].slice(0, mostColumns);
}

/** What is at a path in an item; undefined where nothing is. */
export function cellIn(item: Value, path: string): Value | undefined {
  if (isValueMap(item) && Object.hasOwn(item, path)) return ownMember(item, path) as Value;
  let value: Value | undefined = item;
  for (const key of path.split('.')) {
    if (Array.isArray(value)) value = (value as readonly Value[])[Number(key)];
    else value = isValueMap(value) && Object.hasOwn(value, key) ? (ownMember(value, key) as Value) : undefined;
  }
  return value;
}

/** A cell as text: empty where nothing or null stands, a list by the number of its items. */
export function cellText(value: Value | undefined): string {
  if (value === undefined || plain(value) === null) return '';
  if (Array.isArray(value)) {
    const items = value as readonly Value[];
    return items.length <= 4 && items.every((item) => typeof plain(item) !== 'object')
      ? items.map(textOf).join(', ')
      : `${items.length} items`;
  }
  return isValueMap(value) ? `${Object.keys(value).length} members` : textOf(value);
}
