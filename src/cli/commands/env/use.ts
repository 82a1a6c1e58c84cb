/** `env use`: writes the manifest. */
import { manifestName } from '../../../core/collection/find-collection.js';
import { rewriteKey } from '../../../core/collection/rewrite.js';
import { type CommandModule, examples } from '../../command.js';

export const use: CommandModule = {
  configure(command, run) {
    command.argument('<name>', 'an environment').action(
      run(async (context, [given = '']) => {
        const collection = await context.collection();
        const name = collection.resolve('environment', given);
        await rewriteKey(collection.root, manifestName, ['environment'], name);
        context.terminal.note(`${name} is used where --env is not given`);
        return 0;
      }),
    );
    examples(command, [['env use live', 'from now on, for everybody who has the collection']]);
  },
};
