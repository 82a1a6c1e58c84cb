/** `docs list`: the documentation sources of the collection. */
import { sources } from '../../../core/collection/sources/source-facts.js';
import { type CommandModule, examples } from '../../command.js';
import { emit } from '../../documents/emit.js';
import { table } from '../../view/table.js';
import { sourceDocument } from './source-document.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command.action(
      run(async (context) => {
        const { terminal } = context;
        const shelf = await context.shelf();
        const all = await sources(shelf);
        if (terminal.json) return emit(terminal, 'docs list', { sources: all.map(sourceDocument) });
        if (all.length === 0) terminal.note('no documentation yet: echo-trail docs add FILE|URL');
        else {
          const rows = all.map(({ name, format, version, operations, warnings, title, source, fetched }) => [
            terminal.out.bold(name),
            `${format} ${version}`,
            String(operations),
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
      ['docs list --json', 'the same for programs, warnings included'],
    ]);
  },
};
