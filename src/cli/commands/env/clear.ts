/** `env clear`: lets the values go that `send` has kept for the next `send`. */
import { readEnvironment } from '../../../core/collection/variables/variable-scopes.js';
import { clearSavedValues } from '../../../core/sending/saved-values.js';
import { type CommandModule, examples } from '../../command.js';

export const clear: CommandModule = {
  configure(command, run) {
    command.argument('[name]', 'an environment; else the chosen one').action(
      run(async (context, [given]) => {
        const collection = await context.collection();
        const { name } = readEnvironment(collection, given ?? context.options.env, []);
        const names = await clearSavedValues(collection.local, name);
        context.terminal.note(
          names.length === 0 ? `nothing is saved in ${name}` : `deleted in ${name}: ${names.join(', ')}`,
        );
        return 0;
      }),
    );
    examples(command, [['env clear', 'the next send starts with the defaults again']]);
  },
};
