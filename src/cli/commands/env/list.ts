/** `env list`. */
import { readEnvironment } from '../../../core/collection/variables/variable-scopes.js';
import { type CommandModule, examples } from '../../command.js';
import { emit } from '../../documents/emit.js';
import { table } from '../../view/table.js';

export const list: CommandModule = {
  configure(command, run) {
    command.action(
      run(async (context) => {
        const { terminal } = context;
        const collection = await context.collection();
        const chosen = collection.environment;
        const all = collection.names('environment').map((name) => {
          const { about, changes, variables } = readEnvironment(collection, name, []);
          return {
            name,
            about: about ?? null,
            chosen: name === chosen,
            changes,
            origin: variables.get('origin')?.text ?? null,
          };
        });
        if (terminal.json) return emit(terminal, 'env list', { environments: all });
        const { out } = terminal;
        if (all.length === 0) terminal.note('no environments yet: write environments/NAME.yaml');
        else {
          terminal.print(
            table(
              all.map(({ name, about, chosen: own, changes, origin }) => [
                out.bold(name),
                own ? out.green('chosen') : '',
                `changes: ${changes}`,
                origin ?? '',
                about ?? '',
              ]),
              terminal,
            ),
          );
        }
        return 0;
      }),
    );
    examples(command, [['env list', 'all of them, and which one is chosen']]);
  },
};
