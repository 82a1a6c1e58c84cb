/** `docs add`: a snapshot of the vendor's documentation, and its index. */
import { readFile } from 'node:fs/promises';
import { addSource, type DocumentationSource } from '../../../core/collection/sources.js';
import { absoluteUrl } from '../../../core/exchange/address.js';
import { openTransport } from '../../../core/exchange/transport.js';
import { Problem } from '../../../core/problem/problem.js';
import { sizeText } from '../../../core/value/measures.js';
import { type CommandModule, examples } from '../../command.js';
import type { Context } from '../../context.js';
import type { Documents } from '../../documents.js';
import { emit } from '../../emit.js';
import { version } from '../../version.js';

export function sourceDocument({
  name,
  format,
  version: edition,
  title,
  operations,
  warnings,
  file,
  source,
  fetched,
}: DocumentationSource): Documents['docs add'] {
  return {
    name,
    format,
    version: edition,
    title,
    operations,
    warnings: [...warnings],
    file,
    source: source ?? null,
    fetched: fetched ?? null,
  };
}

export const add: CommandModule = {
  configure(command, run) {
    command
      .argument('<file|url>', 'an OpenAPI 3.0 or 3.1 document in JSON or YAML')
      .option('--name <name>', 'a short name for the source')
      .option('--replace', 'put it in the place of a source of that name')
      .action(
        run(async (context, [from = ''], { name, replace }) => {
          const { terminal } = context;
          const collection = await context.collection();
          const text = await textFrom(from, context);
          const added = await addSource(collection, {
            text,
            from,
            name: name as string | undefined,
            day: new Date().toISOString().slice(0, 10),
            replace: replace as boolean | undefined,
          });
          if (terminal.json) return emit(terminal, 'docs add', sourceDocument(added));
          const { out } = terminal;
          terminal.print(
            `${out.bold(added.name)}: ${added.title}, ${added.format} ${added.version}, ${added.operations} operations, kept in ${added.file}`,
          );
          for (const { at, what } of added.warnings.slice(0, 20))
            terminal.note(`${terminal.err.yellow('warning')}  ${what}\n         at ${at}`);
          if (added.warnings.length > 20)
            terminal.note(`and ${added.warnings.length - 20} more warnings: echo-trail docs list --json`);
          terminal.note('next: echo-trail docs find WORDS');
          return 0;
        }),
      );
    examples(command, [
      ['docs add http://127.0.0.1:4810/openapi.yaml --name harbour --replace', 'from the running stand-in'],
      ['docs add docs/harbour.yaml --name copy', 'from a file'],
    ]);
  },
};

/** The text of a file or of what an address answers. */
async function textFrom(from: string, { terminal, signal }: Context): Promise<string> {
  if (!/^https?:\/\//i.test(from)) return fileText(from);
  const transport = openTransport();
  try {
    terminal.progress(`fetching ${from}`);
    const url = absoluteUrl(from);
    const line = (name: string, value: string) => ({ name, value, origin: 'automatic', secret: false });
    const { received, trouble } = await transport.send(
      {
        method: 'GET',
        url,
        shownUrl: url.href,
        headers: [
          line('accept', 'application/yaml, application/json, */*'),
          line('user-agent', `echo-trail/${version}`),
        ],
        body: undefined,
        timeout: { connect: 10_000, total: 120_000 },
        redirects: 10,
      },
      signal,
    );
    if (!received || trouble) throw trouble ?? new Problem('exchange-failed', { what: `${from} gave no answer` });
    if (received.status >= 400) {
      throw new Problem('document-unreadable', {
        what: `${from} answered ${received.status} ${received.parts.reason}`,
        remedy: 'fetch it by hand where it wants a log-in, and add the file',
      });
    }
    terminal.note(`fetched ${sizeText(received.size)} from ${received.finalUrl}`);
    return received.text;
  } finally {
    await transport.close();
  }
}

async function fileText(from: string): Promise<string> {
  try {
    return (await readFile(from, 'utf8')).replace(/^\uFEFF/, '');
  } catch (error) {
    const { code, message } = error as NodeJS.ErrnoException;
    if (code === 'ENOENT')
      throw new Problem('file-not-found', { what: `${from} does not exist`, where: { file: from } });
    throw new Problem('file-unreadable', { what: `${from} cannot be read`, where: { file: from }, cause: message });
  }
}
