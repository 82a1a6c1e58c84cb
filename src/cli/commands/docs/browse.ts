/** `docs browse`: the documentation on the whole screen. */
import { browseAtTerminal } from '../../browsing/at-terminal.js';
import { documentationSubject } from '../../browsing/documentation.js';
import { type CommandModule, examples } from '../../command.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument('[source]', 'only this documentation source')
      .action(
        run((context, [only]) =>
          browseAtTerminal(
            context,
            'docs browse',
            'echo-trail docs tree prints the operations, docs find looks for some',
            () => documentationSubject(context, only),
          ),
        ),
      );
    examples(command, [
      ['docs browse', 'every source; ? shows the keys'],
      ['docs browse harbour', 'one source'],
    ]);
  },
};
