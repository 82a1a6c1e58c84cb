/** `export openapi`: requests of the collection as an OpenAPI 3.1 document. */
import { stringify } from 'yaml';
import { openDocumentation } from '../../../core/collection/sources/source-index.js';
import { newestEchoes } from '../../../core/echo/read.js';
import { openApiDocument } from '../../../core/interchange/openapi/openapi.js';
import { type CommandModule, examples } from '../../command.js';
import { handOut } from '../../exporting/hand-out.js';
import { originOf } from '../../options/origin.js';

/** Recorded exchanges that responses are learnt from. */
const mostEchoes = 2000;

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument('[request...]', 'requests or folders of the collection; all of them by default')
      .option('-t, --to <file>', 'write it to this file, in JSON where its ending is .json')
      .action(
        run(async (context, names, { to }) => {
          const collection = await context.collection();
          await openDocumentation(collection);
          const all = collection.names('request');
          const requests =
            names.length === 0
              ? all
              : names.flatMap((name) => {
                  const within = all.filter((one) => one.startsWith(`${name.replace(/\/$/, '')}/`));
                  return within.length > 0 ? within : [collection.resolve('request', name)];
                });
          const { document, left } = openApiDocument(collection, {
            requests: [...new Set(requests)],
            echoes: await newestEchoes(collection.local, mostEchoes),
            origin: await originOf(context),
          });
          const file = to as string | undefined;
          const content =
            file?.endsWith('.json') === true
              ? `${JSON.stringify(document, undefined, 2)}\n`
              : stringify(document, { lineWidth: 0, aliasDuplicateObjects: false });
          return handOut(context, { kind: 'openapi', content, left }, file);
        }),
      );
    examples(command, [
      [
        'export openapi --to harbour-agent.openapi.yaml',
        'all requests; x-from says what is documented and what was learnt',
      ],
      ['export openapi berths calls/book', 'a folder and a request'],
    ]);
  },
};
