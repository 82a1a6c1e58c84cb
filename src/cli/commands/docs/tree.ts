/** `docs tree`: the map of what a vendor offers. */
import { openSourceLists } from '../../../core/collection/sources/source-index.js';
import { resourceTree, type TreeNode } from '../../../core/documentation/explore/tree.js';
import { type CommandModule, examples } from '../../command.js';
import { emit } from '../../documents/emit.js';
import type { Terminal } from '../../terminal/terminal.js';
import { printableLine } from '../../view/printable.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command.argument('[source]', 'only this documentation source').action(
      run(async (context, [only]) => {
        const { terminal } = context;
        const shelf = await context.shelf();
        const names = only === undefined ? Object.keys(shelf.docs) : [only];
        const trees: { source: string; format: string; nodes: readonly TreeNode[] }[] = [];
        for (const name of names) {
          const index = await openSourceLists(shelf, name);
          trees.push({ source: name, format: index.facts.format, nodes: resourceTree(index.listed()) });
        }
        if (terminal.json) {
          return emit(terminal, 'docs tree', {
            sources: trees.map(({ source, nodes }) => ({ source, tree: nodes.map(nodeDocument) })),
          });
        }
        if (trees.length === 0) terminal.note('no documentation yet: echo-trail docs add FILE|URL');
        terminal.print(
          trees
            .map(({ source, format, nodes }) =>
              [`${terminal.out.bold(source)}  ${terminal.out.dim(format)}`, ...nodeLines(nodes, '', terminal)].join(
                '\n',
              ),
            )
            .join('\n\n'),
        );
        return 0;
      }),
    );
    examples(command, [
      ['docs tree', 'every source: its resources by path, with their methods'],
      ['docs tree harbour', 'one source'],
    ]);
  },
};

type NodeDocument = { part: string; operations: { id: string; method: string }[]; below: NodeDocument[] };

function nodeDocument({ part, operations, below }: TreeNode): NodeDocument {
  return { part, operations: operations.map(({ id, method }) => ({ id, method })), below: below.map(nodeDocument) };
}

function nodeLines(nodes: readonly TreeNode[], margin: string, terminal: Terminal): string[] {
  const { out } = terminal;
  return nodes.flatMap(({ part, operations, below }, index) => {
    const last = index === nodes.length - 1;
    const methods = operations
      .map(({ id, method, deprecated }) => `${out.cyan(method)} ${out.dim(deprecated ? `${id}, deprecated` : id)}`)
      .join('  ');
    const line = `${margin}${last ? '└─' : '├─'} ${printableLine(part)}${methods === '' ? '' : `  ${methods}`}`;
    return [line, ...nodeLines(below, `${margin}${last ? '   ' : '│  '}`, terminal)];
  });
}
