/** `docs list`: the documentation sources of the collection, or all their operations. */
import type { SourceCatalogue } from '../../../core/collection/sources/source-catalogue.js';
import { sources } from '../../../core/collection/sources/source-facts.js';
import { openSourceLists } from '../../../core/collection/sources/source-index.js';
import { type CommandModule, examples } from '../../command.js';
import { emit } from '../../documents/emit.js';
import type { Terminal } from '../../terminal/terminal.js';
import { proseLine } from '../../view/printable.js';
import { table } from '../../view/table.js';
import { sourceDocument } from './source-document.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command.option('--operations', 'every operation of them, in the order of the documents').action(
      run(async (context, _, { operations }) => {
        const { terminal } = context;
        const shelf = await context.shelf();
        if (operations) return listOperations(shelf, terminal);
        const all = await sources(shelf);
        if (terminal.json) return emit(terminal, 'docs list', { sources: all.map(sourceDocument) });
        if (all.length === 0) terminal.note(nothingYet);
        else {
          const rows = all.map(({ name, format, version, operations: count, warnings, title, source, fetched }) => [
            terminal.out.bold(name),
            `${format} ${version}`,
            String(count),
            warnings.length === 0 ? '' : terminal.out.yellow(String(warnings.length)),
            fetched ?? '',
            title,
            source ?? '',
          ]);
          terminal.print(
            table(rows, terminal, {
              head: ['source', 'format', 'operations', 'warnings', 'fetched', 'title', 'from'],
              flexible: [5, 6],
            }),
          );
        }
        return 0;
      }),
    );
    examples(command, [
      ['docs list', 'each source with its format and the number of its operations'],
      ['docs list --operations', 'every operation with its method, path, group and summary'],
      ['docs list --operations --json', 'the same for programs'],
    ]);
  },
};

const nothingYet = 'no documentation yet: echo-trail docs add FILE|URL';

async function listOperations(shelf: SourceCatalogue, terminal: Terminal): Promise<number> {
  const found = [];
  for (const source of Object.keys(shelf.docs))
    for (const { id, method, path, group, summary, deprecated } of (await openSourceLists(shelf, source)).listed())
      found.push({ operation: `${source}/${id}`, method, path, group, summary, deprecated });
  if (terminal.json) {
    return emit(terminal, 'docs list operations', {
      operations: found.map(({ group, summary, ...one }) => ({
        ...one,
        group: group || null,
        summary: summary || null,
      })),
    });
  }
  if (Object.keys(shelf.docs).length === 0) terminal.note(nothingYet);
  else if (found.length === 0) terminal.note('the documentation of this collection describes no operation');
  if (found.length === 0) return 0;
  const { out } = terminal;
  const rows = found.map(({ operation, method, path, group, summary, deprecated }) => [
    out.bold(operation),
    `${out.cyan(method)} ${path}`,
    group,
    `${proseLine(summary)}${deprecated ? out.yellow(' (deprecated)') : ''}`,
  ]);
  terminal.print(table(rows, terminal, { head: ['operation', 'call', 'group', 'summary'], flexible: [3] }));
  return 0;
}
