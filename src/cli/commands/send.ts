/** `send`: one request, and all that came back. */
import { existsSync } from 'node:fs';
import { isAbsolute, join, relative, resolve } from 'node:path';
import { planRequest } from '../../core/exchange/request/request-plan.js';
import type { Loads } from '../../core/expression/compile.js';
import { Problem } from '../../core/problem/problem.js';
import { type PreparedRequest, plainRequest } from '../../core/sending/prepare.js';
import type { Workspace } from '../../core/sending/workspace.js';
import { writeAtomically } from '../../core/storage/atomic-write.js';
import { placeInside } from '../../core/storage/inside.js';
import { type CommandModule, collect, examples } from '../command.js';
import type { Context } from '../context.js';
import { editorSchemas, installEditorSchemas } from '../documents/editor-schemas.js';
import { requestPath } from '../options/request-path.js';
import { adHocRequest } from '../sending/ad-hoc.js';
import { connectionOptions, connectionSettings, requireNoConnection } from '../sending/connection-options.js';
import { responseOptions } from '../sending/options.js';
import { outsideBy } from '../sending/outside-by.js';
import { sendAndShow } from '../sending/send-and-show.js';
import type { Terminal } from '../terminal/terminal.js';
import { printableLine } from '../view/printable.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument('<request|method>', 'a request of the collection, or a method')
      .argument('[url]', "behind a method: an address, or a path of the environment's origin");
    responseOptions(command)
      .option('--strict', 'send nothing that differs from the documentation')
      .option('--against-docs', 'tell where the response differs from the documentation')
      .option('--ask', 'ask for inputs that have a default, too')
      .option('--header <line>', "with METHOD URL: a header line 'NAME: VALUE'; may be repeated", collect)
      .option('--query <name=value>', 'with METHOD URL: a query parameter; may be repeated', collect)
      .option('--body-json <json>', 'with METHOD URL: a JSON body')
      .option('--body-text <text>', 'with METHOD URL: a body of text')
      .option('--body-file <path>', 'with METHOD URL: the bytes of a file, or - for standard input')
      .option('--body-template <path>', 'with METHOD URL: a file in bodies/, with values put in')
      .option('--body-xml <xml>', 'with METHOD URL: a body of XML')
      .option('--graphql <document>', 'with METHOD URL: a GraphQL document, or the path of one')
      .option('--variable <name=value>', 'with --graphql: a variable, in JSON or as text; may be repeated', collect)
      .option('--soap <envelope>', 'with METHOD URL: a SOAP envelope, or the path of one')
      .option('--soap-action <action>', 'with --soap: the action')
      .option('--form <name=value>', 'with METHOD URL: a field of a form; may be repeated', collect)
      .option('--part <name=value>', 'with METHOD URL: a part of a multipart body; may be repeated', collect)
      .option('--part-file <name=path>', 'with METHOD URL: a file as a part; may be repeated', collect)
      .option('--cookie <name=value>', 'with METHOD URL: a cookie; may be repeated', collect)
      .option('--redirects <number>', 'with METHOD URL: how many redirects are followed, or none')
      .option('--timeout <duration>', 'with METHOD URL: how long the whole response may take, such as 5s')
      .option('--as <path>', 'keep METHOD URL as a request file');
    connectionOptions(command).action(run(send));
    examples(command, [
      ['send vessels/show --set imo=9000017', 'a request of the collection'],
      ['send berths/free --pick "$.items[0].code"', 'one value, for a shell script'],
      ['send berths/free --view table --columns code,quay', 'its list as a table'],
      ['send GET /notices/archive --to archive.bin', 'the response to a file, as it comes'],
      ['send GET /v1/berths --session agent --query quay=north', 'without a file'],
      ['send POST /graphql --graphql "{ pilots { __typename } }" --allow-changes', 'a GraphQL document'],
      ['send GET /v1/berths --query free=true --as berths/mine', 'and keep it as a file'],
    ]);
  },
};

const fileless = [
  'header',
  'query',
  'bodyJson',
  'bodyText',
  'bodyFile',
  'bodyTemplate',
  'bodyXml',
  'graphql',
  'variable',
  'soap',
  'soapAction',
  'form',
  'part',
  'partFile',
  'cookie',
  'redirects',
  'timeout',
  'as',
] as const;

async function send(
  context: Context,
  [first = '', url]: readonly string[],
  options: Record<string, unknown>,
): Promise<number> {
  const { terminal } = context;
  if (options.as !== undefined) requireNoConnection(options);
  const workspace = await context.workspace({
    allowChanges: options.allowChanges === true,
    connection: connectionSettings(options),
    typedFiles: typedFiles(options),
    standardInput: () => process.stdin,
  });
  if (options.pick === undefined) {
    workspace.listeners.add({
      sessionOpened: (name) => terminal.note(terminal.err.dim(`opened  session ${name}`)),
    });
  }
  const outside = url === undefined ? undefined : outsideBy(url, 'typed', workspace, terminal);
  const prepared =
    url === undefined
      ? await fromFile(workspace, first, options)
      : await fromCommandLine(workspace, first, url, options, outside !== undefined, terminal);
  return sendAndShow(context, workspace, prepared, options, { outside });
}

/** Files of the command line may lie anywhere, but those of a request that is kept with --as. */
function typedFiles({ as, bodyFile, partFile }: Record<string, unknown>): ReadonlyMap<string, string> {
  const paths = [
    ...(bodyFile === undefined ? [] : [bodyFile as string]),
    ...((partFile as string[] | undefined) ?? []).map((part) => part.slice(part.indexOf('=') + 1)),
  ];
  const found = as === undefined ? paths.filter((path) => existsSync(path)) : [];
  const missing = paths.find(
    (path) => path !== '-' && !existsSync(path) && (isAbsolute(path) || path.startsWith('..')),
  );
  if (missing !== undefined) throw new Problem('file-not-found', { what: `${missing} does not exist` });
  return new Map(found.map((path) => [path, resolve(path)]));
}

/** A text that names a file is most often meant to be one. */
function tellTextParts(parts: readonly string[], terminal: Terminal): void {
  for (const part of parts) {
    const [, name = '', value = ''] = /^([^=]+)=(.+)$/s.exec(part) ?? [];
    if (/[./\\]/.test(value) && existsSync(value))
      terminal.note(
        `${terminal.err.yellow('warning')}  --part ${name} sends the text ${printableLine(value)}; --part-file ${name}=${printableLine(value)} sends the file`,
      );
  }
}

async function fromFile(
  workspace: Workspace,
  name: string,
  options: Record<string, unknown>,
): Promise<PreparedRequest> {
  const wrong = fileless.find((option) => options[option] !== undefined);
  if (wrong !== undefined) {
    const flag = wrong.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);
    throw new Problem('usage', {
      what: `--${flag} goes with METHOD URL, not with a request file`,
      remedy: /^(?:get|head|post|put|patch|delete|options)$/i.test(name)
        ? `the address is missing: echo-trail send ${name} URL`
        : 'change the file, or give its inputs with --set',
    });
  }
  if (/^https?:\/\//i.test(name) || name.startsWith('/'))
    throw new Problem('usage', {
      what: 'a method comes before an address',
      remedy: `echo-trail send GET ${name}`,
    });
  return workspace.prepare(name);
}

async function fromCommandLine(
  workspace: Workspace,
  method: string,
  url: string,
  options: Record<string, unknown>,
  outside: boolean,
  terminal: Terminal,
): Promise<PreparedRequest> {
  if (!/^[A-Za-z]+$/.test(method))
    throw new Problem('usage', {
      what: `${method} is not a method`,
      remedy: 'echo-trail send REQUEST, or echo-trail send METHOD URL',
    });
  const { collection } = workspace;
  const target = options.as === undefined ? undefined : requestPath(options.as as string);
  if (target && existsSync(join(collection.root, target.file))) {
    throw new Problem('file-exists', {
      what: `there is a request ${target.name} already`,
      where: { file: target.file },
      remedy: 'nothing was sent; --as takes another name',
    });
  }
  const up = target ? relative(join(collection.root, target.file, '..'), collection.root) : '..';
  const { text, loaded } = adHocRequest(
    {
      method,
      url,
      headers: (options.header as string[] | undefined) ?? [],
      query: (options.query as string[] | undefined) ?? [],
      body: {
        json: options.bodyJson as string | undefined,
        text: options.bodyText as string | undefined,
        file: options.bodyFile as string | undefined,
        template: options.bodyTemplate as string | undefined,
        xml: options.bodyXml as string | undefined,
        graphql: options.graphql as string | undefined,
        variables: options.variable as string[] | undefined,
        soap: options.soap as string | undefined,
        soapAction: options.soapAction as string | undefined,
        form: options.form as string[] | undefined,
        parts: options.part as string[] | undefined,
        partFiles: options.partFile as string[] | undefined,
      },
      session: options.session as string | undefined,
      cookies: options.cookie as string[] | undefined,
      redirects: options.redirects as string | undefined,
      timeout: options.timeout as string | undefined,
    },
    `${up}/${editorSchemas}/request.json`,
  );
  const loads: Loads = [];
  const plan = planRequest(collection, target ? { ...loaded, name: target.name } : loaded, loads, outside);
  await Promise.all(loads);
  if (target) {
    await writeAtomically(placeInside(collection.root, target.file), text);
    await installEditorSchemas(collection.root);
  }
  tellTextParts((options.part as string[] | undefined) ?? [], terminal);
  return plainRequest(plan);
}
