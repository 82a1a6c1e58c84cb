/** `import command-line | message | har`: one command for each way in which requests are written elsewhere. */
import { importers } from '../../core/interchange/foreign/registry.js';
import type { Importer } from '../../core/interchange/foreign/request.js';
import { type CommandModule, examples } from '../command.js';
import { inputText } from '../options/input-text.js';
import { importRequests } from './import-requests.js';

/** By the name of the importer. */
const shown: ReadonlyMap<string, readonly (readonly [command: string, about: string])[]> = new Map([
  [
    'command-line',
    [
      ['import command-line guide.sh', 'each command with a URL becomes a request'],
      ['import command-line - --as chart/one < guide.sh', 'from standard input'],
    ],
  ],
  [
    'message',
    [
      ['import message book.http --as calls/again', 'one request, from its request line on'],
      ['import message - < book.http', 'from standard input'],
    ],
  ],
  ['har', [['import har voyage.har --as voyage', 'its requests, and a trail that runs them']]],
]);

export const foreignCommand = (kind: string): CommandModule => ({
  configure(command, run) {
    command
      .argument('<file>', 'the file, or - for standard input')
      .option('--as <name>', 'the name of one request, or the folder and the trail of several')
      .action(
        run(async (context, [file = ''], { as }) =>
          importRequests(context, importers.get(kind) as Importer, {
            ...(await inputText(file)),
            as: as as string | undefined,
          }),
        ),
      );
    examples(command, shown.get(kind) ?? []);
  },
});
