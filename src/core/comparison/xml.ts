/** What differs between two XML documents, by elements, attributes and text: their formatting and prefixes say nothing. */
import type { Document, Element } from '@xmldom/xmldom';
import { exactly } from './counting.js';
import type { Difference } from './difference.js';
import type { Unordered } from './differences.js';

const xmlns = 'http://www.w3.org/2000/xmlns/';

export function xmlDifferences(left: Document, right: Document, unordered: Unordered = {}): Difference[] {
  const [a, b] = [left.documentElement, right.documentElement];
  if (!a || !b) return [];
  if (nameOf(a) !== nameOf(b)) return [{ at: '/', kind: 'changed', left: a.localName ?? '', right: b.localName ?? '' }];
  const keys = Object.entries(unordered).map(([place, key]) => [exactly(place), key] as const);
  return elements(a, b, `/${a.localName}`, (at) => keys.find(([covers]) => covers(at))?.[1]);
}

/** Two elements of one name. @param keyOf what tells apart those whose order says nothing */
function elements(a: Element, b: Element, at: string, keyOf: (at: string) => string | undefined): Difference[] {
  const found = attributes(a, b, at);
  const [ours, theirs] = [byName(a), byName(b)];
  for (const name of new Set([...ours.keys(), ...theirs.keys()])) {
    const [one, other] = [ours.get(name) ?? [], theirs.get(name) ?? []];
    const path = `${at}/${(one[0] ?? other[0])?.localName}`;
    const several = one.length > 1 || other.length > 1;
    const key = keyOf(path);
    const pairs = key === undefined ? inOrder(one, other) : byKey(one, other, key);
    for (const { left, right, mark } of pairs) {
      const here = several ? `${path}[${mark}]` : path;
      if (left && right) for (const one of elements(left, right, here, keyOf)) found.push(one);
      else if (left) found.push({ at: here, kind: 'removed', left: shown(left), right: undefined });
      else if (right) found.push({ at: here, kind: 'added', left: undefined, right: shown(right) });
    }
  }
  if (ours.size === 0 && theirs.size === 0) {
    const [one, other] = [(a.textContent ?? '').trim(), (b.textContent ?? '').trim()];
    if (one !== other) found.push({ at, kind: 'changed', left: one, right: other });
  }
  return found;
}

interface Pair {
  readonly left: Element | undefined;
  readonly right: Element | undefined;
  /** What is in the brackets of its path. */
  readonly mark: string;
}

const inOrder = (one: readonly Element[], other: readonly Element[]): Pair[] =>
  Array.from({ length: Math.max(one.length, other.length) }, (_, index) => ({
    left: one[index],
    right: other[index],
    mark: String(index + 1),
  }));

/** @param key `@number`, the name of a child, or `.` for the text */
function byKey(one: readonly Element[], other: readonly Element[], key: string): Pair[] {
  const markOf = (element: Element): string => {
    if (key.startsWith('@')) return element.getAttribute(key.slice(1)) ?? '';
    if (key === '.') return (element.textContent ?? '').trim();
    return (byName(element, key).values().next().value?.[0]?.textContent ?? '').trim();
  };
  const left = [...other];
  const pairs = one.map((element): Pair => {
    const value = markOf(element);
    const index = left.findIndex((candidate) => markOf(candidate) === value);
    const right = index === -1 ? undefined : left.splice(index, 1)[0];
    return { left: element, right, mark: `${key} = ${JSON.stringify(value)}` };
  });
  return [
    ...pairs,
    ...left.map((right): Pair => ({ left: undefined, right, mark: `${key} = ${JSON.stringify(markOf(right))}` })),
  ];
}

function attributes(a: Element, b: Element, at: string): Difference[] {
  const [ours, theirs] = [attributesOf(a), attributesOf(b)];
  return [...new Set([...ours.keys(), ...theirs.keys()])].flatMap((name): Difference[] => {
    const [left, right] = [ours.get(name), theirs.get(name)];
    if (left === right) return [];
    const kind = left === undefined ? 'added' : right === undefined ? 'removed' : 'changed';
    return [{ at: `${at}/@${name}`, kind, left, right }];
  });
}

function attributesOf(element: Element): Map<string, string> {
  const found = new Map<string, string>();
  for (const { name, localName, namespaceURI, value } of element.attributes) {
    if (namespaceURI !== xmlns && name !== 'xmlns') found.set(localName ?? name, value);
  }
  return found;
}

/** Child elements by namespace and name, in order. */
function byName(element: Element, only?: string): Map<string, Element[]> {
  const found = new Map<string, Element[]>();
  for (const child of element.childNodes) {
    if (child.nodeType !== 1) continue;
    const one = child as Element;
    if (only !== undefined && one.localName !== only) continue;
    const others = found.get(nameOf(one));
    if (others) others.push(one);
    else found.set(nameOf(one), [one]);
  }
  return found;
}

const nameOf = ({ namespaceURI, localName }: Element): string => `${namespaceURI ?? ''} ${localName}`;

const shown = (element: Element): string => {
  const text = element.toString();
  return text.length > 200 ? `${text.slice(0, 200)}…` : text;
};
