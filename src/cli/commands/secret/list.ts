/** `secret list`: names only. */
import { waysText } from '../../../core/exchange/hosts/ways-out.js';
import { secretStore } from '../../../core/session/secrets.js';
import { type CommandModule, examples } from '../../command.js';
import { emit } from '../../documents/emit.js';
import { waysDocument } from '../../view/preview.js';
import { printableLine } from '../../view/printable.js';
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
            secrets: secrets.map(({ name, environment, ways }) => ({
              name,
              environment: environment ?? null,
              ways: Object.entries(ways).map(([one, own]) => ({ environment: one, ...waysDocument(own) })),
            })),
          });
        if (secrets.length === 0) terminal.note('no secrets are stored: echo-trail secret set NAME');
        else
          terminal.print(
            table(
              secrets.map(({ name, environment, ways }) => [
                terminal.out.bold(name),
                environment ?? 'all environments',
                printableLine(
                  Object.entries(ways)
                    .map(([one, own]) => `${one} ${waysText(own)}`)
                    .join('; '),
                ),
              ]),
              terminal,
              { flexible: [2] },
            ),
          );
        return 0;
      }),
    );
    examples(command, [['secret list', 'the names, never the values']]);
  },
};
