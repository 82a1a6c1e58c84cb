/** `echo browse`: recorded exchanges on the whole screen. */
import { browseAtTerminal } from '../../browsing/at-terminal.js';
import { echoesSubject } from '../../browsing/echoes.js';
import { type CommandModule, examples } from '../../command.js';

export const browse: CommandModule = {
  configure(command, run) {
    command
      .option('--keys <file>', 'keys from a file, a line each; the screens they lead to are printed')
      .action(
        run((context, _args, { keys }) =>
          browseAtTerminal(
            context,
            'echo browse',
            'echo-trail echo list prints them, echo show prints one',
            () => echoesSubject(context),
            keys,
          ),
        ),
      );
    examples(command, [['echo browse', 'the newest first; ? shows the keys']]);
  },
};
