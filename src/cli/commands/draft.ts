/** `draft`: a request file from the documentation. */
import { existsSync } from 'node:fs';
import { join, relative } from 'node:path';
import { findOperation } from '../../core/collection/sources.js';
import { draftName, draftRequest } from '../../core/documentation/draft.js';
import { Problem } from '../../core/problem/problem.js';
import { writeAtomically } from '../../core/storage/atomic-write.js';
import { type CommandModule, examples } from '../command.js';
import { editorSchemas, installEditorSchemas } from '../editor-schemas.js';
import { emit } from '../emit.js';
import { requestPath } from '../request-path.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument('<operation>', 'SOURCE/OPERATION, or the operation alone')
      .option('--as <path>', 'the name of the request below requests/; else from its group and name')
      .action(
        run(async (context, [given = ''], { as }) => {
          const { terminal } = context;
          const collection = await context.collection();
          const operation = findOperation(collection, given);
          const { name, file } = requestPath((as as string | undefined) ?? draftName(operation));
          const path = join(collection.root, file);
          if (existsSync(path)) {
            throw new Problem('file-exists', {
              what: `there is a request ${name} already`,
              where: { file },
              remedy: '--as PATH writes the draft under another name',
            });
          }
          const sessions = collection.names('session');
          const up = relative(join(collection.root, file, '..'), collection.root);
          const text = draftRequest(operation, {
            schema: `${up}/${editorSchemas}/request.json`,
            session: sessions.length === 1 ? sessions[0] : undefined,
          });
          await writeAtomically(path, text);
          await installEditorSchemas(collection.root);
          if (terminal.json)
            return emit(terminal, 'draft', { request: name, file, operation: `${operation.source}/${operation.id}` });
          terminal.print(`wrote ${terminal.out.bold(file)}`);
          terminal.note(`next: echo-trail preview ${name}`);
          return 0;
        }),
      );
    examples(command, [
      ['draft harbour/showBerth', 'requests/berths/show-berth.yaml'],
      ['draft replaceCall --as calls/replace', 'under a name of your own'],
    ]);
  },
};
