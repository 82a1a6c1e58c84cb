/** `import message`: an HTTP message, as logs and guides show it. */
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
          importRequests(context, importers.get('message') as Importer, {
            ...(await inputText(file)),
            as: as as string | undefined,
          }),
        ),
      );
    examples(command, [
      ['import message book.http --as calls/again', 'one request, from its request line on'],
      ['import message - < book.http', 'from standard input'],
    ]);
  },
};
