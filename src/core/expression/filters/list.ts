/** Filters over lists and maps. */
import { equalValues } from '../../value/equal.js';
import { ownMember } from '../../value/own-member.js';
import { textOf } from '../../value/text.js';
import { isValueMap, plain, type Value } from '../../value/written.js';
import { type Filter, wantList, wrongInput } from './filter.js';

function compare(left: Value, right: Value): number {
  const a = plain(left);
  const b = plain(right);
  if (typeof a === 'number' && typeof b === 'number') return a - b;
  if (isValueMap(left) && isValueMap(right)) {
    // Member by member, the first that differs decides.
    for (const key in left) {
      const order = compare(ownMember(left, key) as Value, ownMember(right, key) ?? null);
      if (order !== 0) return order;
    }
    return 0;
  }
  const x = textOf(left);
  const y = textOf(right);
  return x < y ? -1 : x > y ? 1 : 0;
}

function pick(item: Value, key: string): Value {
  return isValueMap(item) && Object.hasOwn(item, key) ? (ownMember(item, key) as Value) : null;
}

function edge(name: string, about: string, at: 0 | -1): Filter {
  return {
    name,
    about,
    example: `\${items | ${name}}`,
    arguments: [0, 0],
    apply: (input) => wantList(name, input).at(at) ?? null,
  };
}

export const listFilters: readonly Filter[] = [
  edge('first', 'the first item, null where there is none', 0),
  edge('last', 'the last item, null where there is none', -1),
  {
    name: 'count',
    about: 'the number of items, members or characters',
    example: '${items | count}',
    arguments: [0, 0],
    apply(input) {
      if (Array.isArray(input)) return input.length;
      if (input instanceof Uint8Array) return input.length;
      if (isValueMap(input)) return Object.keys(input).length;
      if (typeof input === 'string') return [...input].length;
      throw wrongInput('count', 'a list, a map or a text', input);
    },
  },
  {
    name: 'sorted',
    about:
      'the items in order: numbers by size, pairs by name and then by value, anything else by its text; with a key, by that member',
    example: '${berths | sorted("lengthM")}',
    arguments: [0, 1],
    apply(input, [key]) {
      const items = [...wantList('sorted', input)];
      if (key === undefined) return items.sort(compare);
      return items.sort((left, right) => compare(pick(left, textOf(key)), pick(right, textOf(key))));
    },
  },
  {
    name: 'pluck',
    about: 'one member of every item',
    example: '${berths | pluck("code")}',
    arguments: [1, 1],
    apply: (input, [key]) => wantList('pluck', input).map((item) => pick(item, textOf(key as Value))),
  },
  {
    name: 'without',
    about: 'a list without an item, or a map without a member',
    example: '${vessel | without("id")}',
    arguments: [1, 9],
    apply(input, keys) {
      if (Array.isArray(input)) return input.filter((item: Value) => !keys.some((key) => equalValues(key, item)));
      if (!isValueMap(input)) throw wrongInput('without', 'a list or a map', input);
      const names = keys.map(textOf);
      return Object.fromEntries(Object.entries(input).filter(([name]) => !names.includes(name)));
    },
  },
  {
    name: 'merge',
    about: 'two lists one behind the other, or two maps where the second wins',
    example: '${defaults | merge(vessel)}',
    arguments: [1, 1],
    apply(input, [other]) {
      if (Array.isArray(input) && Array.isArray(other)) return [...input, ...other];
      if (isValueMap(input) && other !== undefined && isValueMap(other)) return { ...input, ...other };
      throw wrongInput('merge', 'two lists or two maps', input);
    },
  },
];
