/** `docs browse`: the documentation on the whole screen. */
import { browseAtTerminal } from '../../browsing/at-terminal.js';
import { documentationSubject } from '../../browsing/documentation.js';
import { type CommandModule, examples } from '../../command.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument('[source]', 'only this documentation source')
      .option('--keys <file>', 'keys from a file, a line each; the screens they lead to are printed')
      .action(
        run((context, [only], { keys }) =>
          browseAtTerminal(
            context,
            'docs browse',
            'echo-trail docs tree prints the operations, docs find looks for some',
            () => documentationSubject(context, only),
            keys,
          ),
        ),
      );
    examples(command, [
      ['docs browse', 'every source; ? shows the keys'],
      ['docs browse harbour', 'one source'],
      ['docs browse --keys data/browsing.txt', 'the screens of a walk through it, as text'],
    ]);
  },
};
