/** `import command-line`: the command of a shell that a guide shows, or a whole snippet. */
import { importers } from '../../../core/interchange/foreign/registry.js';
import type { Importer } from '../../../core/interchange/foreign/request.js';
import { type CommandModule, examples } from '../../command.js';
import { importRequests } from '../../importing/import-requests.js';
import { inputText } from '../../options/input-text.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument('<file>', 'the file, or - for standard input')
      .option('--as <name>', 'the name of one request, or the folder and the trail of several')
      .action(
        run(async (context, [file = ''], { as }) =>
          importRequests(context, importers.get('command-line') as Importer, {
            ...(await inputText(file)),
            as: as as string | undefined,
          }),
        ),
      );
    examples(command, [
      ['import command-line guide.sh', 'each command that calls an address becomes a request'],
      ['import command-line - --as chart/one < guide.sh', 'from standard input'],
    ]);
  },
};
