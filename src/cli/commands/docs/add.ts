/** `docs add`: a snapshot of the vendor's documentation, and its index. */
import { readSource } from '../../../core/collection/sources/indexing.js';
import type { SourceCatalogue } from '../../../core/collection/sources/source-catalogue.js';
import type { DocumentationSource } from '../../../core/collection/sources/source-facts.js';
import { addSource } from '../../../core/collection/sources/sources.js';
import type { LeftOut } from '../../../core/documentation/formats/sample/har.js';
import type { Documents as SourceDocuments } from '../../../core/documentation/reading/documents.js';
import { Problem } from '../../../core/problem/problem.js';
import { ownMember } from '../../../core/value/own-member.js';
import { type CommandModule, examples } from '../../command.js';
import type { Context } from '../../context.js';
import { emit } from '../../documents/emit.js';
import { fetchDocuments } from './fetch.js';
import { sourceDocument } from './source-document.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument(
        '[file|url...]',
        'a file, an address, a folder of GraphQL schema files, a pattern in quotes, or - for standard input',
      )
      .option('--name <name>', 'a short name for the source')
      .option('--replace', 'put it in the place of a source of that name')
      .option('--graphql', 'the address is a GraphQL endpoint: ask it for its schema')
      .option(
        '--sample <echo|file...>',
        'learn operations from echoes, from files with a request and its response, or from HTTP archives (.har)',
      )
      .option('--fetch-from <host...>', 'other hosts from which documents that it refers to may be fetched')
      .option('--session <name>', 'fetch it with this session; refresh does so too')
      .action(
        run(async (context, [typed, ...others], { session, name, replace, fetchFrom, sample, graphql }) => {
          // A shell puts the files in the place of a pattern; where they came from would be lost.
          if (others.length > 0)
            throw new Problem('usage', {
              what: `docs add takes one file or address, and got ${others.length + 1}`,
              remedy: "put a pattern in quotes: docs add 'schema/*.graphql'; or name the folder",
            });
          // An empty text is a shell variable without a value.
          const given = typed === '' ? undefined : typed;
          const { terminal } = context;
          const shelf = await context.shelf({ remember: false });
          const samples = sample as string[] | undefined;
          if ((given === undefined) === (samples === undefined)) {
            throw new Problem('usage', {
              what:
                given === undefined
                  ? 'docs add needs a file or an address'
                  : '--sample cannot be combined with a file or an address',
              remedy: 'echo-trail docs add FILE|URL, or echo-trail docs add --sample ECHO --name NAME',
            });
          }
          if (session !== undefined && !/^https?:/i.test(given ?? ''))
            throw new Problem('usage', { what: '--session requires an address' });
          const from = given ?? 'samples';
          const { documents, refused } = samples
            ? await learnt(shelf, samples, (name as string | undefined) ?? 'samples')
            : await fetchDocuments(
                from,
                {
                  hosts: (fetchFrom as string[] | undefined) ?? [],
                  graphql: graphql === true,
                  session: session as string | undefined,
                },
                context,
              );
          const added = await addSource(shelf, {
            documents,
            from,
            name: name as string | undefined,
            day: new Date().toISOString().slice(0, 10),
            replace: replace === true || samples !== undefined,
            session: session as string | undefined,
          });
          for (const { name: other, why } of refused)
            terminal.note(`${terminal.err.yellow('warning')}  ${other} was not read: ${why}`);
          if ((added.tokenAddresses ?? []).length > 0) await tellTokenHosts(added, context);
          if (terminal.json) return emit(terminal, 'docs add', sourceDocument(added));
          const { out } = terminal;
          const parts = documents.parts.size > 1 ? ` with ${documents.parts.size - 1} more beside it` : '';
          terminal.print(
            `${out.bold(added.name)}: ${added.title}, ${added.format} ${added.version}, ${counted(added.operations, 'operation')}, ${counted(added.types, 'type')}, kept in ${added.file}${parts}`,
          );
          for (const { at, what } of added.warnings.slice(0, 20))
            terminal.note(`${terminal.err.yellow('warning')}  ${what}\n         at ${at}`);
          if (added.warnings.length > 20)
            terminal.note(`and ${added.warnings.length - 20} more warnings: echo-trail docs list --json`);
          terminal.note('next: echo-trail docs tree, or echo-trail docs find WORDS');
          return 0;
        }),
      );
    examples(command, [
      ['docs add http://127.0.0.1:4810/openapi.yaml --name harbour --replace', 'from the running stand-in'],
      ['docs add docs/harbour.yaml --name copy', 'from a file'],
      ['docs add http://127.0.0.1:4810/customs.wsdl --name office', 'a WSDL, with the schemas that it imports'],
      [
        'docs add http://127.0.0.1:4810/graphql --graphql --name rota',
        'a GraphQL endpoint, which is asked for its schema',
      ],
    ]);
  },
};

async function tellTokenHosts(added: DocumentationSource, context: Context): Promise<void> {
  const { listTokenHosts } = await import('../../../core/exchange/hosts/token-hosts.js');
  for (const { file, hosts } of await listTokenHosts(await context.collection(), added))
    context.terminal.note(`${file} lists ${hosts.join(', ')} now, where tokens of ${added.name} are obtained`);
}

/** New samples beside those that the source has. @throws Problem file-exists: a source of that name is no source of samples */
async function learnt(
  shelf: SourceCatalogue,
  given: readonly string[],
  name: string,
): Promise<{ readonly documents: SourceDocuments; readonly refused: readonly LeftOut[] }> {
  const { samplesFile } = await import('../../../core/documentation/formats/sample/samples.js');
  const { sampleDocuments } = await import('../../../core/echo/samples.js');
  const known = ownMember(shelf.docs, name);
  const before = known ? samplesFile.safeParse((await readSource(shelf, name)).main.content) : undefined;
  if (before && !before.success) {
    throw new Problem('file-exists', {
      what: `the documentation source ${name} is not one of samples`,
      where: { file: known?.file ?? '' },
      remedy: '--name NAME keeps the samples under another name',
    });
  }
  const { documents, leftOut } = await sampleDocuments(shelf.local, given, before?.data.samples ?? []);
  return { documents, refused: leftOut };
}

const counted = (count: number, what: string): string => `${count} ${what}${count === 1 ? '' : 's'}`;
