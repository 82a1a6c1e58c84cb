/** `import arazzo`: the workflows of an Arazzo document as trails and requests. */
import { existsSync } from 'node:fs';
import { dirname, relative, resolve } from 'node:path';
import type { Collection } from '../../../core/collection/collection.js';
import { openCollection } from '../../../core/collection/collection.js';
import { openDocumentation, sourceIndex } from '../../../core/collection/sources/source-index.js';
import { addSource } from '../../../core/collection/sources/sources.js';
import { type ArazzoDocument, readArazzo } from '../../../core/interchange/arazzo/document.js';
import { type CalledOperation, fromArazzo } from '../../../core/interchange/arazzo/from-arazzo.js';
import { writeNewFiles } from '../../../core/interchange/new-files.js';
import { asProblem, Problem } from '../../../core/problem/problem.js';
import { type CommandModule, examples } from '../../command.js';
import type { Context } from '../../context.js';
import { editorSchemas, installEditorSchemas } from '../../documents/editor-schemas.js';
import { emit } from '../../documents/emit.js';
import { inputText } from '../../options/input-text.js';
import { requestPath } from '../../options/request-path.js';
import { printableLine } from '../../view/printable.js';
import { fetchDocuments } from '../docs/fetch.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument('<file>', 'the document, in YAML or JSON, or - for standard input')
      .option('--as <name>', "the folder of its requests and the name of its trail; else the file's name")
      .action(
        run(async (context, [file = ''], { as }) => {
          const { terminal } = context;
          const { text, name } = await inputText(file);
          const document = readArazzo(text, name);
          const { collection, sources } = await withSources(context, document, file, name);
          const made = fromArazzo(document, {
            as: as === undefined ? baseName(name) : requestPath(as as string).name,
            from: name,
            schemas: editorSchemas,
            operation: (source, id) =>
              operationIn(
                collection,
                source === undefined ? [...sources.values()] : [sources.get(source)],
                ({ id: own }) => own === id,
              ),
            operationAt: (source, method, path) =>
              operationIn(collection, [sources.get(source)], (one) => one.method === method && one.path === path),
            hasSession: (one) => collection.names('session').includes(one),
            inheritsSession: (one) => collection.defaults(one).some(({ content }) => content.session !== undefined),
          });
          const { written, unchanged } = await writeNewFiles(collection.root, made.files).catch((error: unknown) => {
            const problem = asProblem(error);
            throw problem.code === 'file-exists' ? problem.orTry('--as NAME writes it under another name') : error;
          });
          await installEditorSchemas(collection.root);
          if (terminal.json) {
            return emit(terminal, 'import arazzo', {
              written: [...written],
              unchanged: [...unchanged],
              requests: [...made.requests],
              trails: [...made.trails],
              left: [...made.left],
            });
          }
          for (const one of written) terminal.print(`wrote ${terminal.out.bold(one)}`);
          if (written.length === 0) terminal.print('nothing to write: all of it is there, with the same content');
          for (const one of made.left) terminal.note(`${terminal.err.yellow('left out')}  ${printableLine(one)}`);
          terminal.note(`next: echo-trail check, and echo-trail run ${made.trails[0]}`);
          return 0;
        }),
      );
    examples(command, [
      ['import arazzo berth-stay.arazzo.yaml --as imported', 'a trail, and a request for each of its steps'],
    ]);
  },
};

const baseName = (name: string): string =>
  name
    .replace(/\.(?:ya?ml|json)$/i, '')
    .replace(/\.arazzo$/i, '')
    .toLowerCase()
    .replace(/[^a-z\d]+/g, '-')
    .replace(/^-+|-+$/g, '') || 'imported';

/**
 * The sources of the document among those of the collection: by name, by address, or added from a file that lies beside it.
 * Nothing is fetched. @throws Problem import-unreadable: one is neither
 */
async function withSources(
  context: Context,
  { sourceDescriptions }: ArazzoDocument,
  file: string,
  name: string,
): Promise<{ collection: Collection; sources: ReadonlyMap<string, string> }> {
  let collection = await context.collection();
  const sources = new Map<string, string>();
  const folder = file === '-' ? process.cwd() : dirname(resolve(file));
  for (const { name: source, url, type } of sourceDescriptions) {
    if (type === 'arazzo') continue;
    const known = Object.entries(collection.docs).find(
      ([own, entry]) =>
        entry.source === url || own === source || resolve(collection.root, entry.file) === resolve(folder, url),
    );
    if (known) {
      sources.set(source, known[0]);
      continue;
    }
    const path = /^[a-z]+:/i.test(url) ? undefined : resolve(folder, url);
    const outside = path !== undefined && relative(folder, path).startsWith('..');
    if (path === undefined || outside || !existsSync(path)) {
      throw new Problem('import-unreadable', {
        what: `${name} needs the description ${source}, and it is not there: ${url}`,
        where: { file: name },
        cause: outside ? 'it lies outside the folder of the document' : 'nothing is fetched that was not asked for',
        remedy: `echo-trail docs add ${/^https?:/i.test(url) ? url : 'FILE'} --name ${source}`,
      });
    }
    const { documents } = await fetchDocuments(path, { hosts: [] }, context);
    await addSource(collection, {
      documents,
      from: path,
      name: source,
      day: new Date().toISOString().slice(0, 10),
      replace: false,
    });
    collection = openCollection(collection.root);
    sources.set(source, source);
  }
  await openDocumentation(collection);
  return { collection, sources };
}

function operationIn(
  collection: Collection,
  sources: readonly (string | undefined)[],
  fits: (one: { readonly id: string; readonly method: string; readonly path: string }) => boolean,
): CalledOperation | undefined {
  for (const source of sources) {
    if (source === undefined) continue;
    const index = sourceIndex(collection, source);
    for (const one of index.listed())
      if (fits(one)) return { operation: `${source}/${one.id}`, method: one.method, path: one.path };
  }
  return undefined;
}
