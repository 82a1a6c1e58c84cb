/**
 * In which order the values of a recipe are computed: each behind what it uses. A header, a parameter or a
 * member of the body that the recipe adds is seen by `sent`, unless it is made from that part of `sent` itself.
 */
import { nearestHint } from '../problem/nearest.js';
import { type FilePosition, Problem } from '../problem/problem.js';
import { ofQuery, sentMembers } from './sent.js';

/** A value of the recipe, or something that it adds. */
export interface Node {
  readonly name: string;
  readonly part: 'value' | 'header' | 'query' | 'body';
  readonly uses: readonly Use[];
  readonly where: FilePosition | undefined;
}

export interface Use {
  readonly name: string;
  readonly keys: readonly string[];
  readonly where: FilePosition | undefined;
}

/** The parts of `sent` that a recipe may change. */
type Changed = 'header' | 'query' | 'body';

/** In order, each with those that it is made from. */
export type Ordered<N extends Node> = ReadonlyMap<N, ReadonlySet<N>>;

/** @throws Problem circle: values that use each other; unknown-name: a part of `sent` that there is not */
export function ordered<N extends Node>(nodes: readonly N[]): Ordered<N> {
  const values = new Map(nodes.filter(({ part }) => part === 'value').map((node) => [node.name, node]));
  const headers = new Map(nodes.filter(({ part }) => part === 'header').map((node) => [node.name.toLowerCase(), node]));
  const looksAt = (node: N, what: Changed, seen = new Set<N>()): boolean => {
    if (seen.has(node)) return false;
    seen.add(node);
    return node.uses.some((use) => {
      const value = use.name === 'sent' ? undefined : values.get(use.name);
      return value ? looksAt(value, what, seen) : use.name === 'sent' && changedParts(use).includes(what);
    });
  };
  /** What must be there before a use of it. */
  const before = (use: Use): N[] => {
    if (use.name !== 'sent') return [values.get(use.name)].filter((node) => node !== undefined);
    const [member, key] = use.keys;
    if (member === 'header' && key !== undefined && key !== 'content-length')
      return [headers.get(key.toLowerCase())].filter((node) => node !== undefined);
    return changedParts(use).flatMap((what) => nodes.filter((node) => node.part === what && !looksAt(node, what)));
  };

  const order = new Map<N, Set<N>>();
  const visit = (node: N, way: readonly N[]): void => {
    if (order.has(node)) return;
    if (way.includes(node)) {
      const names = [...way.slice(way.indexOf(node)), node].map(({ name }) => name);
      throw new Problem('circle', {
        what: `${names.join(' is made from ')}: the values depend on each other in a circle`,
        where: node.where,
        remedy: 'one of them must be made without the others; only("…") and except("…") choose headers',
      });
    }
    const needed = new Set<N>();
    for (const use of node.uses) {
      checkMember(use);
      for (const one of before(use)) needed.add(one);
    }
    for (const one of needed) visit(one, [...way, node]);
    order.set(node, needed);
  };
  for (const node of nodes) visit(node, []);
  return order;
}

/** Those that are meant, and what they are made from, in the same order. */
export function neededFor<N extends Node>(order: Ordered<N>, meant: (node: N) => boolean): N[] {
  const needed = new Set<N>();
  for (const [node, from] of [...order].reverse()) {
    if (!needed.has(node) && !meant(node)) continue;
    needed.add(node);
    for (const one of from) needed.add(one);
  }
  return [...order.keys()].filter((node) => needed.has(node));
}

function changedParts({ keys: [member] }: Use): Changed[] {
  if (member === undefined) return ['header', 'query', 'body'];
  // The length of the body is among them.
  if (member === 'headers' || member === 'header') return ['header', 'body'];
  if (member === 'body') return ['body'];
  return ofQuery.has(member) ? ['query'] : [];
}

function checkMember({ name, keys: [member], where }: Use): void {
  if (name !== 'sent' || member === undefined || sentMembers.has(member)) return;
  throw new Problem('unknown-name', {
    what: `sent has no ${member}`,
    where,
    remedy: `${nearestHint(member, sentMembers.keys())}; there are ${[...sentMembers.keys()].join(', ')}`,
  });
}
