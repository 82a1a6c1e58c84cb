/** `import openapi`: a description added as a source, and a request drafted for each of its operations. */
import { openCollection } from '../../../core/collection/collection.js';
import { openDocumentation } from '../../../core/collection/sources/source-index.js';
import { addSource } from '../../../core/collection/sources/sources.js';
import { asProblem } from '../../../core/problem/problem.js';
import { type CommandModule, examples } from '../../command.js';
import { editorSchemas, installEditorSchemas } from '../../documents/editor-schemas.js';
import { fetchDocuments } from '../docs/fetch.js';
import { draftMany } from '../draft.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument('<file|url>', 'the description, as docs add takes it; - for standard input')
      .option('--name <name>', 'a short name for the source')
      .action(
        run(async (context, [from = ''], { name }) => {
          const { terminal } = context;
          const before = await context.collection();
          const { documents, refused } = await fetchDocuments(from, { hosts: [] }, context);
          const added = await addSource(before, {
            documents,
            from,
            name: name as string | undefined,
            day: new Date().toISOString().slice(0, 10),
            replace: false,
          }).catch((error: unknown) => {
            const problem = asProblem(error);
            throw problem.code === 'file-exists' ? problem.orTry('echo-trail draft --all drafts what is added') : error;
          });
          for (const { name: other, why } of refused)
            terminal.note(`${terminal.err.yellow('warning')}  ${other} was not read: ${why}`);
          if (!terminal.json) terminal.print(`added ${terminal.out.bold(added.name)}: ${added.title}`);
          const collection = openCollection(before.root);
          await openDocumentation(collection);
          await installEditorSchemas(collection.root);
          const order = { schemas: editorSchemas, selection: {}, optional: undefined };
          return draftMany(context, collection, undefined, order, added.name);
        }),
      );
    examples(command, [
      ['import openapi http://127.0.0.1:4810/v0/openapi.json --name older', 'a source, and a draft for each operation'],
    ]);
  },
};
