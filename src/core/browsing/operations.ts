/** The operations of all sources, as a tree of resources, or as a question finds them. */
import { findOperations } from '../documentation/explore/search.js';
import { resourceTree, type TreeNode } from '../documentation/explore/tree.js';
import type { ListedOperation, SourceLists } from '../documentation/index/index-file.js';
import type { Outline, Row } from './outline.js';

/** Of a question, so many are listed. */
const mostFound = 200;

export interface OperationsOutline extends Outline {
  /** The operations at a row of the tree and below it, by its key: the first of them, and how many there are. */
  under(
    key: string,
    most: number,
  ): { readonly source: string; readonly operations: readonly ListedOperation[]; readonly count: number };
}

export function operationsOutline(sources: ReadonlyMap<string, SourceLists>): OperationsOutline {
  const trees = new Map<string, readonly TreeNode[]>();
  const treeOf = (source: string): readonly TreeNode[] => {
    const known = trees.get(source) ?? resourceTree(sources.get(source)?.listed() ?? []);
    trees.set(source, known);
    return known;
  };

  const found = (words: readonly string[]): Row[] =>
    findOperations(sources, words, mostFound).matches.map((match) => ({
      ...operationRow(match.source, match, match.path, 0, ''),
      aside: match.summary,
    }));

  const tree = (opened: ReadonlySet<string>): Row[] => {
    const rows: Row[] = [];
    for (const source of sources.keys()) {
      const key = `${source}/`;
      const open = opened.has(key);
      rows.push(groupRow(key, source, 0, sources.get(source)?.facts.operations ?? 0, open));
      if (open) addNodes(treeOf(source), source, key, 1, opened, rows);
    }
    return rows;
  };

  return {
    rows(typed, opened) {
      // A single letter is the beginning of too much.
      const words = typed.split(/\s+/).filter((word) => word.length > 1);
      return words.length === 0 ? tree(opened) : found(words);
    },
    under(key, most) {
      const source = [...sources.keys()].find((name) => key.startsWith(`${name}/`)) ?? '';
      const whole = `${source}/`;
      const nodes = treeOf(source);
      const node = nodeAt(nodes, whole, key);
      const wanted = key === whole ? nodes : node ? [node] : [];
      const operations: ListedOperation[] = [];
      for (const one of wanted) addOperations(one, most, operations);
      return { source, operations, count: wanted.reduce((sum, { count }) => sum + count, 0) };
    },
    wayTo({ kind, name }) {
      if (kind !== 'operation') return [];
      const source = name.slice(0, name.indexOf('/'));
      const id = name.slice(source.length + 1);
      return sources.has(source) ? (wayIn(treeOf(source), source, `${source}/`, id) ?? []) : [];
    },
  };
}

const keyOf = (held: string, { part }: TreeNode): string => `${held}${part}/`;

/** What stands alone in a line of the tree: an operation that holds nothing and shares its path with no other. */
const single = ({ operations, count }: TreeNode): ListedOperation | undefined =>
  count === 1 ? operations[0] : undefined;

function addNodes(
  nodes: readonly TreeNode[],
  source: string,
  held: string,
  depth: number,
  opened: ReadonlySet<string>,
  rows: Row[],
): void {
  for (const node of nodes) {
    const only = single(node);
    const key = keyOf(held, node);
    if (only) {
      rows.push(operationRow(source, only, node.part, depth, key));
      continue;
    }
    const open = opened.has(key);
    rows.push(groupRow(key, node.part, depth, node.count, open));
    if (!open) continue;
    for (const operation of node.operations)
      rows.push(operationRow(source, operation, operation.summary || operation.id, depth + 1, key));
    addNodes(node.below, source, key, depth + 1, opened, rows);
  }
}

function nodeAt(nodes: readonly TreeNode[], held: string, wanted: string): TreeNode | undefined {
  for (const node of nodes) {
    const key = keyOf(held, node);
    if (key === wanted) return node;
    const below = wanted.startsWith(key) ? nodeAt(node.below, key, wanted) : undefined;
    if (below) return below;
  }
  return undefined;
}

function addOperations({ operations, below }: TreeNode, most: number, found: ListedOperation[]): void {
  for (const one of operations) if (found.length < most) found.push(one);
  for (const one of below) {
    if (found.length >= most) return;
    addOperations(one, most, found);
  }
}

const groupRow = (key: string, text: string, depth: number, count: number, open: boolean): Row => ({
  key,
  depth,
  mark: '',
  text,
  aside: String(count),
  holds: open ? 'open' : 'closed',
  target: { kind: 'group', name: key },
});

const operationRow = (
  source: string,
  { id, method, deprecated }: ListedOperation,
  text: string,
  depth: number,
  held: string,
): Row => ({
  key: `${held}${source}/${id}`,
  depth,
  mark: method,
  text,
  aside: deprecated ? 'deprecated' : '',
  holds: undefined,
  target: { kind: 'operation', name: `${source}/${id}` },
});

function wayIn(nodes: readonly TreeNode[], source: string, held: string, id: string): string[] | undefined {
  for (const node of nodes) {
    const key = keyOf(held, node);
    if (node.operations.some((one) => one.id === id)) {
      const own = `${key}${source}/${id}`;
      return single(node) ? [held, own] : [held, key, own];
    }
    const below = wayIn(node.below, source, key, id);
    if (below) return [held, ...below];
  }
  return undefined;
}
