/** `secret remove`. */
import { readEnvironment } from '../../../core/collection/variables/variable-scopes.js';
import { nearestHint } from '../../../core/problem/nearest.js';
import { Problem } from '../../../core/problem/problem.js';
import { secretStore } from '../../../core/session/secrets.js';
import { linesOf, unshare } from '../../../core/session/shared-secrets/shared-secrets.js';
import { type CommandModule, examples } from '../../command.js';

export const remove: CommandModule = {
  configure(command, run) {
    command
      .argument('<name>', 'a stored secret')
      .option('--shared', 'remove the shared secret, from the environment in use or --env')
      .action(
        run(async (context, [name = ''], { shared }) => {
          const { terminal, options, home } = context;
          const collection = await context.collection();
          if (shared === true) {
            const { name: environment } = readEnvironment(collection, options.env, []);
            if (!(await unshare(collection.root, environment, name)))
              throw new Problem('secret-missing', {
                what: `the environment ${environment} shares no secret ${name}`,
                remedy: nearestHint(
                  name,
                  linesOf(collection.root, environment).lines.map((line) => line.name),
                ),
              });
            terminal.note(`${name} is no longer shared in ${environment}; the recipients still know its value`);
            return 0;
          }
          const environment = options.env === undefined ? undefined : readEnvironment(collection, options.env, []).name;
          const store = secretStore(collection.local, home, process.env);
          if (!(await store.remove(name, environment))) {
            const known = (await store.list()).map((one) =>
              one.environment === undefined ? one.name : `${one.name} --env ${one.environment}`,
            );
            throw new Problem('secret-missing', {
              what: `no secret ${name} is stored for ${environment ?? 'all environments'}`,
              remedy: nearestHint(name, known),
            });
          }
          terminal.note(`removed ${name}`);
          return 0;
        }),
      );
    examples(command, [['secret remove deskPassword', 'the next use asks for it again']]);
  },
};
