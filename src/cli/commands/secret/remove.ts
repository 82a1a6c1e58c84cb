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
      .option('--shared', 'take it out of what is shared in the environment in use, or that of --env')
      .action(
        run(async (context, [name = ''], { shared }) => {
          const { terminal, options, home } = context;
          const collection = await context.collection();
          if (shared === true) {
            const { name: environment } = readEnvironment(collection, options.env, []);
            if (!(await unshare(collection.root, environment, name)))
              throw new Problem('secret-missing', {
                what: `no secret ${name} is shared in the environment ${environment}`,
                remedy: nearestHint(
                  name,
                  linesOf(collection.root, environment).lines.map((line) => line.name),
                ),
              });
            terminal.note(`${name} is not shared in ${environment} any more; who could open it knows it still`);
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
