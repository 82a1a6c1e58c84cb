/** `docs show`: one operation in full. */
import { findOperation } from '../../../core/collection/sources.js';
import { type CommandModule, examples } from '../../command.js';
import { emit } from '../../emit.js';
import { operationText } from '../../view/operation.js';

export const show: CommandModule = {
  configure(command, run) {
    command.argument('<operation>', 'SOURCE/OPERATION, or the operation alone').action(
      run(async (context, [given = '']) => {
        const { terminal } = context;
        const operation = findOperation(await context.collection(), given);
        if (terminal.json) return emit(terminal, 'docs show', { operation: { ...operation } });
        terminal.print(operationText(operation, terminal));
        return 0;
      }),
    );
    examples(command, [
      ['docs show harbour/bookCall', 'parameters, body fields, answers, and an example of each'],
      ['docs show amendCall --json', 'the same for programs'],
    ]);
  },
};
