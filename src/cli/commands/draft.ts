/** `draft`: a request file from the documentation. */
import { existsSync } from 'node:fs';
import { join, relative } from 'node:path';
import type { Collection } from '../../core/collection/collection.js';
import { findOperation, openDocumentation, sourceIndex } from '../../core/collection/sources/source-index.js';
import { draftName, draftRequest } from '../../core/documentation/draft/draft.js';
import {
  describesSignature,
  headersMade,
  proposeSignature,
  signatureName,
} from '../../core/documentation/draft/signature.js';
import type { SelectionSettings } from '../../core/documentation/formats/graphql/selection.js';
import type { Operation, OperationEntry } from '../../core/documentation/model/model.js';
import { Problem } from '../../core/problem/problem.js';
import { writeAtomically } from '../../core/storage/atomic-write.js';
import { placeInside } from '../../core/storage/inside.js';
import { suppliersFor } from '../../core/usage/parameter-sources.js';
import { type CommandModule, examples } from '../command.js';
import { editorSchemas, installEditorSchemas } from '../documents/editor-schemas.js';
import { emit } from '../documents/emit.js';
import { requestPath } from '../options/request-path.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument('<operation>', 'SOURCE/OPERATION, or the operation alone')
      .option('--as <path>', 'the name of the request below requests/; else from its group and name')
      .option('--depth <number>', 'GraphQL: levels of the response that are asked for')
      .option('--fields <names>', 'GraphQL: only these fields of the response, such as name,berth.code')
      .action(
        run(async (context, [given = ''], { as, depth, fields }) => {
          const { terminal } = context;
          const collection = await context.collection();
          await openDocumentation(collection);
          const operation = findOperation(collection, given);
          const { name, file } = requestPath((as as string | undefined) ?? draftName(operation));
          const path = placeInside(collection.root, file);
          if (existsSync(path)) {
            throw new Problem('file-exists', {
              what: `there is a request ${name} already`,
              where: { file },
              remedy: '--as PATH writes the draft under another name',
            });
          }
          const sessions = collection.names('session');
          const up = relative(join(collection.root, file, '..'), collection.root);
          const { definitions, ...index } = sourceIndex(collection, operation.source);
          const signature = await proposed(collection, operation);
          const text = draftRequest(operation, {
            definitions,
            entry: index.entry(operation.id) as OperationEntry,
            selection: selectionFrom(depth, fields),
            suppliers: suppliersFor(collection, operation),
            schema: `${up}/${editorSchemas}/request.json`,
            session: sessions.length === 1 ? sessions[0] : inheritedSession(collection, name),
            signature,
          });
          await writeAtomically(path, text);
          await installEditorSchemas(collection.root);
          if (terminal.json)
            return emit(terminal, 'draft', {
              request: name,
              file,
              operation: `${operation.source}/${operation.id}`,
              signature: signature?.file ?? null,
            });
          terminal.print(`wrote ${terminal.out.bold(file)}`);
          if (signature?.file) {
            terminal.print(`wrote ${terminal.out.bold(signature.file)}`);
            terminal.note('the recipe is proposed from prose: compare it, line by line, with the documentation in it');
          }
          terminal.note(`next: echo-trail preview ${name}${signature ? ' --signature' : ''}`);
          return 0;
        }),
      );
    examples(command, [
      ['draft harbour/showBerth', 'requests/berths/show-berth.yaml'],
      ['draft replaceCall --as calls/replace', 'under a name of your own'],
    ]);
  },
};

/** The signature that the documentation describes, written where there is none of that name yet. */
async function proposed(
  collection: Collection,
  operation: Operation,
): Promise<
  { readonly name: string; readonly makes: ReadonlySet<string>; readonly file: string | undefined } | undefined
> {
  const scheme = operation.security.flatMap(({ schemes }) => schemes).find(describesSignature);
  if (!scheme) return undefined;
  const name = signatureName(scheme);
  const makes = headersMade(scheme);
  if (collection.names('signature').includes(name)) return { name, makes, file: undefined };
  const file = `signatures/${name}.yaml`;
  const text = proposeSignature(scheme, operation.source, `../${editorSchemas}/signature.json`);
  await writeAtomically(placeInside(collection.root, file), text);
  return { name, makes, file };
}

/** @throws Problem usage */
function selectionFrom(depth: unknown, fields: unknown): Partial<SelectionSettings> {
  if (depth !== undefined && !/^\d$/.test(String(depth)))
    throw new Problem('usage', { what: `--depth takes a number from 0 to 9, not ${depth}` });
  const names = typeof fields === 'string' ? fields.split(',').map((one) => one.trim()) : undefined;
  return { ...(depth !== undefined && { depth: Number(depth) }), ...(names && { fields: names }) };
}

/** Of several sessions the one that holds for the folder. */
function inheritedSession(collection: Collection, name: string): string | undefined {
  const session = collection.defaults(name).at(-1)?.content.session;
  return typeof session === 'string' && session !== 'none' ? session : undefined;
}
