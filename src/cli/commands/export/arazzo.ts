/** `export arazzo`: trails as an Arazzo 1.0 document. */
import { stringify } from 'yaml';
import { openDocumentation } from '../../../core/collection/sources/source-index.js';
import { variableNames } from '../../../core/collection/variables/variable-scopes.js';
import { noNames } from '../../../core/expression/names.js';
import { arazzoFrom } from '../../../core/interchange/arazzo/to-arazzo.js';
import { isSecretName } from '../../../core/value/secret-fields.js';
import { type CommandModule, examples } from '../../command.js';
import { handOut } from '../../exporting/hand-out.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument('<trail...>', 'trails of the collection')
      .option('--openapi <address>', 'where the document of export openapi will be', './collection.openapi.yaml')
      .option('-t, --to <file>', 'write it to this file, in JSON where its ending is .json')
      .action(
        run(async (context, names, { to, openapi }) => {
          const workspace = await context.workspace();
          const { collection, layers, runtime, redactor } = workspace;
          await openDocumentation(collection);
          const variables = variableNames(layers, noNames, { runtime: runtime(), onSecret: redactor.add });
          const { document, left, needsOwn } = arazzoFrom(
            collection,
            names.map((name) => collection.resolve('trail', name)),
            {
              own: openapi as string,
              variable(name) {
                const found = variables.lookup(name);
                return found && !found.secret && !isSecretName(name) ? found.value : undefined;
              },
            },
          );
          const file = to as string | undefined;
          const content =
            file?.endsWith('.json') === true
              ? `${JSON.stringify(document, undefined, 2)}\n`
              : stringify(document, { lineWidth: 0, aliasDuplicateObjects: false });
          const status = await handOut(context, { kind: 'arazzo', content, left }, file);
          if (needsOwn)
            context.terminal.note(
              `a second file describes the undocumented requests: echo-trail export openapi --to ${openapi}`,
            );
          return status;
        }),
      );
    examples(command, [
      ['export arazzo berth-stay --to berth-stay.arazzo.yaml', 'a chain, for programs that walk such documents'],
    ]);
  },
};
