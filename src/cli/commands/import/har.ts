/** `import har`: an HTTP archive: the calls of an API that a browser or a proxy recorded. */
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
          importRequests(context, importers.get('har') as Importer, {
            ...(await inputText(file)),
            as: as as string | undefined,
          }),
        ),
      );
    examples(command, [['import har voyage.har --as voyage', 'its requests, and a trail that walks them']]);
  },
};
