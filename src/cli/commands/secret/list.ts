/** `secret list`: names only. */
import { secretStore } from '../../../core/session/secrets.js';
import { type CommandModule, examples } from '../../command.js';
import { emit } from '../../emit.js';
import { table } from '../../view/table.js';

export const list: CommandModule = {
  configure(command, run) {
    command.action(
      run(async (context) => {
        const { terminal, home } = context;
        const collection = await context.collection();
        const secrets = await secretStore(collection.local, home, process.env).list();
        if (terminal.json)
          return emit(terminal, 'secret list', {
            secrets: secrets.map(({ name, environment }) => ({ name, environment: environment ?? null })),
          });
        if (secrets.length === 0) terminal.note('no secrets are stored: echo-trail secret set NAME');
        else
          terminal.print(
            table(
              secrets.map(({ name, environment }) => [terminal.out.bold(name), environment ?? 'all environments']),
              terminal,
            ),
          );
        return 0;
      }),
    );
    examples(command, [['secret list', 'the names, never the values']]);
  },
};
