/** `demo`: everything, against a made-up harbour. */
import type { CommandModule } from '../../command.js';
import { examples } from '../../command.js';
import { serve } from './serve.js';
import { walk } from './walk.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    walk.configure(command, run);
    serve.configure(command.command('serve').description('run the made-up harbour until Ctrl-C'), run);
    examples(command, [
      ['demo', 'reads, drafts, sends, asserts, chains and undoes, with the real commands'],
      ['demo serve --port 4810', 'the harbour alone, to try things by hand'],
    ]);
  },
};
