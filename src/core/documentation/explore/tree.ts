/** The operations of a source as a tree: by the parts of their paths, or by group where they have no path. */
import type { ListedOperation } from '../index/index-file.js';

export interface TreeNode {
  /** `vessels`, `{imo}/calls`, or the name of a group. */
  readonly part: string;
  readonly operations: readonly ListedOperation[];
  readonly below: readonly TreeNode[];
  /** How many operations stand at it and below it. */
  readonly count: number;
}

class Building implements TreeNode {
  readonly operations: ListedOperation[] = [];
  count = 0;
  /** Most parts have one below them, which needs no map. */
  private first: Building | undefined;
  private parts: Map<string, Building> | undefined;
  private shown: readonly TreeNode[] | undefined;

  constructor(readonly part: string) {}

  at(part: string): Building {
    const { first } = this;
    if (first?.part === part) return first;
    const known = this.parts?.get(part);
    if (known) return known;
    const made = new Building(part);
    if (!first) this.first = made;
    else {
      this.parts ??= new Map([[first.part, first]]);
      this.parts.set(part, made);
    }
    return made;
  }

  /** Put together when it is looked at: of a large source most of it never is. */
  get below(): readonly TreeNode[] {
    this.shown ??= [...(this.parts?.values() ?? (this.first ? [this.first] : []))].map((one) => one.folded(''));
    return this.shown;
  }

  /** A part that has nothing of its own and one below it is written on one line with that. */
  private folded(before: string): TreeNode {
    if (this.first && !this.parts && this.operations.length === 0) return this.first.folded(`${before}${this.part}/`);
    if (before === '') return this;
    const node = this;
    return {
      part: `${before}${this.part}`,
      operations: this.operations,
      count: this.count,
      get below() {
        return node.below;
      },
    };
  }
}

export function resourceTree(operations: Iterable<ListedOperation>): readonly TreeNode[] {
  const root = new Building('');
  for (const operation of operations) {
    let node = root;
    for (const part of partsOf(operation)) {
      node = node.at(part);
      node.count += 1;
    }
    node.operations.push(operation);
  }
  return root.below;
}

function partsOf({ path, group }: ListedOperation): string[] {
  if (!path.startsWith('/')) return [group, path];
  const parts = path.split('/').filter((part) => part !== '');
  return parts.length > 0 ? parts : ['/'];
}
