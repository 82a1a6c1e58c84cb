/** `env use`: chooses an environment on this machine, or for everybody. */
import { chooseEnvironment } from '../../../core/collection/chosen-environment.js';
import { manifestName } from '../../../core/collection/find-collection.js';
import { rewriteKey } from '../../../core/collection/rewrite.js';
import { Problem } from '../../../core/problem/problem.js';
import { type CommandModule, examples } from '../../command.js';
import { emit } from '../../documents/emit.js';

export const use: CommandModule = {
  configure(command, run) {
    command
      .argument('[name]', 'an environment')
      .option('--shared', 'for everybody who has the collection: writes echo-trail.yaml')
      .option('--reset', 'go back to the one in echo-trail.yaml')
      .action(
        run(async ({ terminal, ...context }, [given], { shared, reset }) => {
          if ((given === undefined) !== (reset === true))
            throw new Problem('usage', {
              what: reset === true ? '--reset takes no name' : 'env use needs the name of an environment',
              remedy: 'echo-trail env list shows them; --reset goes back to that of echo-trail.yaml',
            });
          const collection = await context.collection();
          const name = given === undefined ? undefined : collection.resolve('environment', given);
          if (name !== undefined && shared === true)
            await rewriteKey(collection.root, manifestName, ['environment'], name);
          // What is shared is no choice of one machine.
          await chooseEnvironment(collection.local, shared === true ? undefined : name);
          const used = name ?? collection.manifest.content.environment;
          if (terminal.json)
            return emit(terminal, 'env use', {
              environment: used ?? null,
              shared: shared === true || name === undefined,
            });
          if (used === undefined) terminal.note('no environment is chosen any more: --env names one');
          else
            terminal.note(
              `${used} is used where --env is not given, ${shared === true || name === undefined ? 'as echo-trail.yaml says' : 'on this machine'}`,
            );
          return 0;
        }),
      );
    examples(command, [
      ['env use live', 'from now on, on this machine'],
      ['env use sandbox --shared', 'for everybody who has the collection'],
    ]);
  },
};
