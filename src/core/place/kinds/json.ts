/** `$…`: JSONPath by RFC 9535. A singular query gives a value, any other a list, even of one. */
import { nearest } from '../../problem/nearest.js';
import { pathBelow } from '../../value/json-path-text.js';
import type { Value } from '../../value/written.js';
import { child, compileJsonPath, type JsonPath } from '../json-path/compile.js';
import type { Observed } from '../observed.js';
import type { Place, PlaceKind } from '../place.js';
import { slotValues } from '../slots.js';

export const json: PlaceKind = {
  name: '$…',
  about: 'JSONPath by RFC 9535: a singular query gives a value, any other a list, even of one',
  example: '$.items[0].id',
  read: (text, loads) => (text.startsWith('$') ? jsonPlace(text, loads) : undefined),
};

function jsonPlace(text: string, loads: Promise<unknown>[]): Place {
  const path = compileJsonPath(text, loads);
  const made = (given?: readonly Value[]): Place => ({
    text,
    strict: true,
    find(observed) {
      const found = path.select(observed.json(), given);
      return path.singular ? found[0] : found;
    },
    near: (observed) => nearestNode(path, observed),
  });
  if (path.slots.length === 0) return made();
  const values = slotValues(text, path.slots, loads);
  return { ...made(), bound: (evaluation) => made(values(evaluation)) };
}

/** Walks a singular query as far as it goes and names what is there. */
function nearestNode(path: JsonPath, observed: Observed): string | undefined {
  let value: Value | undefined;
  try {
    value = observed.json();
  } catch {
    return undefined;
  }
  let way = '$';
  for (const { descendant, selectors } of path.query.segments) {
    const [only] = selectors;
    if (descendant || selectors.length !== 1 || (only?.kind !== 'name' && only?.kind !== 'index')) return undefined;
    const key = only.kind === 'name' ? only.name : only.index;
    const inner = child(value, key);
    if (inner === undefined) return missingAt(way, value as Value, only.kind === 'name' ? only.name : undefined);
    way = pathBelow(way, key);
    value = inner;
  }
  return undefined;
}

function missingAt(way: string, value: Value, name: string | undefined): string {
  if (Array.isArray(value)) return `${way} is a list of ${value.length}`;
  if (typeof value !== 'object' || value === null) return `${way} is ${JSON.stringify(value)}`;
  const keys = Object.keys(value);
  const near = name === undefined ? undefined : nearest(name, keys);
  if (near !== undefined) return pathBelow(way, near);
  return keys.length === 0
    ? `${way} is empty`
    : `${way} has ${keys.slice(0, 10).join(', ')}${keys.length > 10 ? ', …' : ''}`;
}
