/** The operations of a source as a tree: by the parts of their paths, or by group where they have no path. */
import type { ListedOperation } from '../index/index-file.js';

export interface TreeNode {
  /** `vessels`, `{imo}/calls`, or the name of a group. */
  readonly part: string;
  readonly operations: readonly ListedOperation[];
  readonly below: readonly TreeNode[];
}

interface Building {
  readonly part: string;
  readonly operations: ListedOperation[];
  readonly below: Map<string, Building>;
}

const building = (part: string): Building => ({ part, operations: [], below: new Map() });

export function resourceTree(operations: Iterable<ListedOperation>): readonly TreeNode[] {
  const root = building('');
  for (const operation of operations) {
    const parts = operation.path.startsWith('/')
      ? operation.path.split('/').filter((part) => part !== '')
      : [operation.group, operation.path];
    let node = root;
    for (const part of parts.length > 0 ? parts : ['/']) {
      const next = node.below.get(part) ?? building(part);
      node.below.set(part, next);
      node = next;
    }
    node.operations.push(operation);
  }
  return folded(root).below;
}

/** A part that has nothing of its own and one below it is written on one line with that. */
function folded({ part, operations, below }: Building): TreeNode {
  const [only] = below.values();
  if (part !== '' && only && below.size === 1 && operations.length === 0)
    return folded({ ...only, part: `${part}/${only.part}` });
  return { part, operations, below: [...below.values()].map(folded) };
}
