/** `draft`: request files, and what they need, from the documentation. */
import type { Collection } from '../../core/collection/collection.js';
import { findOperation, openDocumentation, openSourceLists } from '../../core/collection/sources/source-index.js';
import type { SelectionSettings } from '../../core/documentation/formats/graphql/selection.js';
import { nearestHint } from '../../core/problem/nearest.js';
import { asProblem, Problem } from '../../core/problem/problem.js';
import {
  type DraftOrder,
  type WrittenDraft,
  type WrittenSession,
  writeDraft,
  writeDraftedSession,
} from '../../core/usage/draft-files.js';
import { type CommandModule, examples } from '../command.js';
import type { Context } from '../context.js';
import { editorSchemas, installEditorSchemas } from '../documents/editor-schemas.js';
import { emit } from '../documents/emit.js';
import { inputText } from '../options/input-text.js';
import { requestPath } from '../options/request-path.js';
import type { Terminal } from '../terminal/terminal.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument(
        '[operation...]',
        'SOURCE/OPERATION, the operation alone, or its method and path; - reads a command or a message',
      )
      .option('--as <path>', 'the name of the request below requests/; else from its group and name')
      .option('--optional <names>', 'optional fields and parameters to send as well: a,b.c by name, or all')
      .option('--group <name>', 'every operation of a group, as docs tree shows it')
      .option('--all', 'every operation that is documented')
      .option('--depth <number>', 'GraphQL: levels of the response that are asked for')
      .option('--fields <names>', 'GraphQL: only these fields of the response, such as name,berth.code')
      .action(
        run(async (context, words, { as, depth, fields, optional, group, all }) => {
          if (words.length === 1 && words[0] === '-') return draftFromInput(context, as as string | undefined);
          const collection = await context.collection();
          await openDocumentation(collection);
          const many = group !== undefined || all === true;
          if (many === words.length > 0 || (many && as !== undefined) || (group !== undefined && all === true))
            throw new Problem('usage', {
              what: 'draft takes one operation, or --group NAME, or --all; --as names one request',
              remedy: 'echo-trail docs tree lists the operations by group',
            });
          if (many && optional !== undefined && optional !== 'all')
            throw new Problem('usage', {
              what: '--optional NAMES is for one operation',
              remedy: 'with --group and --all it takes all',
            });
          const order = {
            schemas: editorSchemas,
            selection: selectionFrom(depth, fields),
            optional: namesIn(optional),
          };
          await installEditorSchemas(collection.root);
          if (many) return draftMany(context, collection, group as string | undefined, order);
          const operation = findOperation(collection, words.join(' '));
          const name = as === undefined ? undefined : requestPath(as as string).name;
          const written = await writeDraft(collection, operation, { ...order, name }).catch((error: unknown) => {
            const problem = asProblem(error);
            throw problem.code === 'file-exists'
              ? problem.orTry('--as PATH writes the draft under another name')
              : error;
          });
          const { terminal } = context;
          const { request, file, signature, sessions } = written;
          if (terminal.json)
            return emit(terminal, 'draft', {
              request,
              file,
              operation: `${operation.source}/${operation.id}`,
              signature: signature ?? null,
              sessions: sessions.map(sessionDocument),
            });
          terminal.print(`wrote ${terminal.out.bold(file)}`);
          tellBeside([written], terminal);
          const live = operation.graphql?.root === 'subscription';
          terminal.note(
            `next: ${live ? `echo-trail send ${request} --live` : `echo-trail preview ${request}${signature ? ' --signature' : ''}`}`,
          );
          return 0;
        }),
      );
    examples(command, [
      ['draft harbour/showBerth', 'requests/berths/show-berth.yaml'],
      ['draft replaceCall --as calls/replace', 'under a name of your own'],
      ['draft bookCall --as calls/full --optional cargo,pilot', 'with two of its optional fields'],
      ['draft --group berths', 'every operation of a group'],
      ['draft - --as calls/again < guide.sh', 'a command or an HTTP message from standard input'],
    ]);
    const session = command
      .command('session')
      .description('write a session file from a documented security scheme')
      .argument('[scheme]', 'SOURCE/SCHEME, or the scheme alone; needed where several are documented')
      .action(
        run(async (context, [scheme]) => {
          const collection = await context.collection();
          await openDocumentation(collection);
          await installEditorSchemas(collection.root);
          const written = await writeDraftedSession(collection, scheme, editorSchemas);
          const { terminal } = context;
          if (terminal.json) return emit(terminal, 'draft session', sessionDocument(written));
          tellSession(written, terminal);
          return 0;
        }),
      );
    examples(session, [['draft session deskToken', 'sessions/desk-token.yaml, and which secrets to set']]);
  },
};

/** A request that is piped in: a command of a shell, or an HTTP message. */
async function draftFromInput(context: Context, as: string | undefined): Promise<number> {
  const [{ importRequests }, { importerOf }] = await Promise.all([
    import('../importing/import-requests.js'),
    import('../../core/interchange/foreign/registry.js'),
  ]);
  const input = await inputText('-');
  return importRequests(context, importerOf(input.text, input.name), { ...input, as });
}

/** One after the other: what is there already is passed over. @param only of this source */
export async function draftMany(
  context: Context,
  collection: Collection,
  group: string | undefined,
  order: DraftOrder,
  only?: string,
): Promise<number> {
  const { terminal } = context;
  const wanted: string[] = [];
  const groups = new Set<string>();
  for (const source of Object.keys(collection.docs)) {
    if (only !== undefined && source !== only) continue;
    for (const one of (await openSourceLists(collection, source)).listed()) {
      groups.add(one.group);
      if (group === undefined || one.group === group) wanted.push(`${source}/${one.id}`);
    }
  }
  if (wanted.length === 0)
    throw new Problem('operation-not-found', {
      what: group === undefined ? 'the documentation describes no operation' : `no documented group is called ${group}`,
      remedy: group === undefined ? 'echo-trail docs list shows the sources' : nearestHint(group, [...groups]),
    });
  const drafted: (WrittenDraft & { readonly operation: string })[] = [];
  const passed: { operation: string; why: string }[] = [];
  for (const [index, operation] of wanted.entries()) {
    terminal.progress(`${index + 1} of ${wanted.length}: ${operation}`);
    try {
      drafted.push({ operation, ...(await writeDraft(collection, findOperation(collection, operation), order)) });
    } catch (error) {
      const { code, what } = asProblem(error);
      if (code !== 'file-exists' && code !== 'name-ambiguous') throw error;
      passed.push({ operation, why: what });
    }
  }
  terminal.progress('');
  const sessions = drafted.flatMap((one) => one.sessions);
  if (terminal.json) {
    return emit(terminal, 'draft many', {
      drafted: drafted.map(({ operation, request, file }) => ({ request, file, operation })),
      passed,
      signatures: drafted.flatMap(({ signature }) => signature ?? []),
      sessions: sessions.map(sessionDocument),
    });
  }
  for (const { file } of drafted) terminal.print(`wrote ${terminal.out.bold(file)}`);
  for (const { operation, why } of passed) terminal.note(`${operation} is passed over: ${why}`);
  tellBeside(drafted, terminal);
  const [first] = drafted;
  if (first) terminal.note(`next: echo-trail check, or echo-trail preview ${first.request}`);
  return 0;
}

/** What was written beside requests. */
function tellBeside(drafts: readonly WrittenDraft[], terminal: Terminal): void {
  for (const { signature, sessions } of drafts) {
    if (signature !== undefined) {
      terminal.print(`wrote ${terminal.out.bold(signature)}`);
      terminal.note('the recipe is proposed from prose: compare it, line by line, with the documentation in it');
    }
    for (const session of sessions) tellSession(session, terminal);
  }
}

function tellSession({ file, kind, secrets, origins }: WrittenSession, terminal: Terminal): void {
  terminal.print(`wrote ${terminal.out.bold(file)}  ${kind}`);
  for (const secret of secrets) terminal.note(`it needs a secret: echo-trail secret set ${secret}`);
  if (origins.length > 0)
    terminal.note(`it sends to ${origins.join(', ')}: hosts of an environment has to list what is not its origin`);
}

const sessionDocument = ({ name, file, kind, secrets, origins }: WrittenSession) => ({
  session: name,
  file,
  kind,
  secrets: [...secrets],
  origins: [...origins],
});

function namesIn(given: unknown): 'all' | readonly string[] | undefined {
  if (given === undefined) return undefined;
  return given === 'all'
    ? 'all'
    : String(given)
        .split(',')
        .map((one) => one.trim());
}

/** @throws Problem usage */
function selectionFrom(depth: unknown, fields: unknown): Partial<SelectionSettings> {
  if (depth !== undefined && !/^\d$/.test(String(depth)))
    throw new Problem('usage', { what: `--depth takes a number from 0 to 9, not ${depth}` });
  const names = typeof fields === 'string' ? fields.split(',').map((one) => one.trim()) : undefined;
  return { ...(depth !== undefined && { depth: Number(depth) }), ...(names && { fields: names }) };
}
