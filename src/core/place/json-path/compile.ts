/** From the syntax tree to a function over values (RFC 9535 sections 2.3 and 2.5). */
import { equalValues } from '../../value/equal.js';
import { ownMember } from '../../value/own-member.js';
import { plain, SourceScalar, type Value } from '../../value/written.js';
import { functionExtensions, type ValueOrNothing } from './functions.js';
import { parseQuery } from './parser.js';
import {
  type Call,
  type Comparable,
  isSingular,
  type Logical,
  type Operator,
  type Query,
  type Selector,
} from './syntax.js';

export interface JsonPath {
  readonly source: string;
  /** The expressions of its `${…}`. */
  readonly slots: readonly string[];
  readonly query: Query;
  /** Yields one node at most. */
  readonly singular: boolean;
  /** The values of the nodes found, in document order. @param given the values of the slots */
  select(root: Value, given?: readonly Value[]): readonly Value[];
}

interface Room {
  readonly loads: Promise<unknown>[];
  /** Of the slots, while a selection is made. */
  given: readonly Value[];
}

type Nodes = (root: Value, current: Value) => Value[];
type Test = (root: Value, current: Value) => boolean;

/**
 * @param loads what must have settled before `select` is called (the engine of match and search)
 * @throws Problem place-syntax
 */
export function compileJsonPath(source: string, loads: Promise<unknown>[]): JsonPath {
  const { query, slots } = parseQuery(source);
  const room: Room = { loads, given: [] };
  const nodes = nodesOf(query, room);
  return {
    source,
    slots,
    query,
    singular: isSingular(query),
    select(root, given = []) {
      room.given = given;
      return nodes(root, root);
    },
  };
}

function nodesOf(query: Query, room: Room): Nodes {
  const fromRoot = query.root === '$';
  const keys = isSingular(query)
    ? query.segments.map(({ selectors: [only] }) => singularKey(only as Selector, room))
    : undefined;
  if (keys) {
    return (root, current) => {
      let value: Value | undefined = fromRoot ? root : current;
      for (const key of keys) {
        value = child(value, typeof key === 'function' ? key() : key);
        if (value === undefined) return [];
      }
      return [value];
    };
  }
  const steps = query.segments.map(({ descendant, selectors }) => {
    const picks = selectors.map((selector) => picker(selector, room));
    return (root: Value, from: readonly Value[]): Value[] => {
      const found: Value[] = [];
      for (const value of descendant ? from.flatMap(withDescendants) : from)
        for (const pick of picks) pick(value, found, root);
      return found;
    };
  });
  return (root, current) => {
    let values: Value[] = [fromRoot ? root : current];
    for (const step of steps) values = step(root, values);
    return values;
  };
}

function singularKey(selector: Selector, room: Room): string | number | (() => string | number) {
  if (selector.kind === 'slot') return () => keyOf(room.given[selector.slot]);
  return selector.kind === 'name' ? selector.name : selector.kind === 'index' ? selector.index : 0;
}

function keyOf(given: Value | undefined): string | number {
  const key = plain(given);
  return typeof key === 'number' && Number.isInteger(key) ? key : String(key);
}

/** A member by name or an item by index; never what a prototype supplies. */
export function child(value: Value | undefined, key: string | number): Value | undefined {
  if (typeof value !== 'object' || value === null || value instanceof SourceScalar) return undefined;
  if (Array.isArray(value)) return typeof key === 'number' ? (value.at(key) as Value | undefined) : undefined;
  if (typeof key === 'number') return undefined;
  return ownMember(value as Record<string, Value>, key);
}

function children(value: Value): readonly Value[] {
  if (typeof value !== 'object' || value === null || value instanceof SourceScalar) return [];
  return Array.isArray(value) ? value : Object.values(value as Record<string, Value>);
}

/** The value and all below it, parents first; a stack of our own, since responses may be very deep. */
function withDescendants(value: Value): Value[] {
  const found: Value[] = [];
  const open: Value[] = [value];
  for (let next = open.pop(); next !== undefined; next = open.pop()) {
    found.push(next);
    const below = children(next);
    for (let index = below.length - 1; index >= 0; index -= 1) open.push(below[index] as Value);
  }
  return found;
}

function picker(selector: Selector, room: Room): (value: Value, into: Value[], root: Value) => void {
  switch (selector.kind) {
    case 'name':
    case 'index':
    case 'slot': {
      const key = singularKey(selector, room);
      return (value, into) => {
        const found = child(value, typeof key === 'function' ? key() : key);
        if (found !== undefined) into.push(found);
      };
    }
    case 'wildcard':
      return (value, into) => {
        for (const item of children(value)) into.push(item);
      };
    case 'slice':
      return (value, into) => {
        if (Array.isArray(value)) for (const index of slice(selector, value.length)) into.push(value[index] as Value);
      };
    case 'filter': {
      const test = testOf(selector.test, room);
      return (value, into, root) => {
        for (const item of children(value)) if (test(root, item)) into.push(item);
      };
    }
  }
}

/** Section 2.3.4.2.2. */
function* slice({ start, end, step }: Extract<Selector, { kind: 'slice' }>, length: number): Generator<number> {
  if (step === 0) return;
  const normal = (index: number): number => (index >= 0 ? index : length + index);
  const from = normal(start ?? (step > 0 ? 0 : length - 1));
  const to = end === undefined ? (step > 0 ? length : -1) : normal(end);
  if (step > 0) for (let at = Math.max(from, 0); at < Math.min(to, length); at += step) yield at;
  else for (let at = Math.min(from, length - 1); at > Math.max(to, -1); at += step) yield at;
}

function testOf(logical: Logical, room: Room): Test {
  switch (logical.kind) {
    case 'or': {
      const parts = logical.parts.map((part) => testOf(part, room));
      return (root, current) => parts.some((part) => part(root, current));
    }
    case 'and': {
      const parts = logical.parts.map((part) => testOf(part, room));
      return (root, current) => parts.every((part) => part(root, current));
    }
    case 'not': {
      const part = testOf(logical.part, room);
      return (root, current) => !part(root, current);
    }
    case 'exists': {
      const nodes = nodesOf(logical.query, room);
      return (root, current) => nodes(root, current).length > 0;
    }
    case 'call': {
      const call = callOf(logical.call, room);
      return (root, current) => call(root, current) === true;
    }
    case 'compare': {
      const [left, right] = [valueFor(logical.left, room), valueFor(logical.right, room)];
      const holds = comparison(logical.operator);
      return (root, current) => holds(left(root, current), right(root, current));
    }
  }
}

function valueFor(given: Comparable, room: Room): (root: Value, current: Value) => ValueOrNothing {
  if (given.kind === 'literal') return () => given.value;
  if (given.kind === 'slot') return () => room.given[given.slot];
  if (given.kind === 'call') return callOf(given.call, room) as (root: Value, current: Value) => ValueOrNothing;
  const nodes = nodesOf(given.query, room);
  return (root, current) => nodes(root, current)[0];
}

function callOf(call: Call, room: Room): (root: Value, current: Value) => ValueOrNothing | boolean {
  const extension = functionExtensions.get(call.name);
  if (!extension) throw new Error(`function ${call.name} passed the parser`);
  if (extension.load) room.loads.push(extension.load());
  const args = call.args.map((arg, index) =>
    extension.takes[index] === 'nodes' && arg.kind === 'query' ? nodesOf(arg.query, room) : valueFor(arg, room),
  );
  return (root, current) => extension.call(args.map((arg) => arg(root, current)));
}

/** Section 2.3.5.2.2; undefined is Nothing. */
function comparison(operator: Operator): (left: ValueOrNothing, right: ValueOrNothing) => boolean {
  switch (operator) {
    case '==':
      return equalValues;
    case '!=':
      return (left, right) => !equalValues(left, right);
    case '<':
      return less;
    case '>':
      return (left, right) => less(right, left);
    case '<=':
      return (left, right) => less(left, right) || equalValues(left, right);
    case '>=':
      return (left, right) => less(right, left) || equalValues(left, right);
  }
}

function less(left: ValueOrNothing, right: ValueOrNothing): boolean {
  const [a, b] = [plain(left), plain(right)];
  if (typeof a === 'number' && typeof b === 'number') return a < b;
  return typeof a === 'string' && typeof b === 'string' && Buffer.compare(Buffer.from(a), Buffer.from(b)) < 0;
}
