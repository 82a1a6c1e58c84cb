/** `docs show`: one operation or one type in full. */
import { findType } from '../../../core/collection/sources/find-type.js';
import { findOperation, openDocumentation, sourceIndex } from '../../../core/collection/sources/source-index.js';
import { linksOf } from '../../../core/documentation/explore/links.js';
import { Problem } from '../../../core/problem/problem.js';
import { type CommandModule, examples } from '../../command.js';
import { emit } from '../../documents/emit.js';
import { wholeNumber } from '../../options/whole-number.js';
import { deepestFitting } from '../../view/field-table.js';
import { operationText } from '../../view/operation.js';
import { typeText } from '../../view/type.js';

/** Levels of fields within fields in a document for programs, unless --depth says otherwise. */
const levelsForPrograms = 2;

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument('[operation...]', 'SOURCE/OPERATION, the operation alone, or its method and path')
      .option('--type <name>', 'a type instead: SOURCE/TYPE, or the type alone')
      .option('--depth <levels>', 'levels of fields within fields; by default as many as fit two screens')
      .action(
        run(async (context, words, { type, depth }) => {
          const { terminal } = context;
          const levels = depth === undefined ? undefined : wholeNumber(depth, '--depth');
          const shelf = await context.shelf();
          await openDocumentation(shelf);
          if (typeof type === 'string') {
            const found = findType(shelf, type);
            if (terminal.json) return emit(terminal, 'docs show', { type: { ...found } });
            terminal.print(typeText(found, terminal, levels));
            return 0;
          }
          if (words.length === 0)
            throw new Problem('usage', {
              what: 'docs show needs an operation, or --type NAME',
              remedy: 'echo-trail docs tree lists the operations',
            });
          const operation = findOperation(
            shelf,
            words.join(' '),
            levels ?? (terminal.json ? levelsForPrograms : deepestFitting),
          );
          const links = linksOf(operation, sourceIndex(shelf, operation.source));
          if (terminal.json) return emit(terminal, 'docs show', { operation: { ...operation, suppliedBy: links } });
          terminal.print(operationText(operation, links, terminal, levels));
          return 0;
        }),
      );
    examples(command, [
      ['docs show harbour/bookCall', 'parameters, body fields, responses, and an example of each'],
      ['docs show POST /v1/vessels/{imo}/calls', 'the same, by method and path'],
      ['docs show --type Vessel', 'a type, with its fields'],
      ['docs show amendCall --json', 'the same for programs'],
    ]);
  },
};
