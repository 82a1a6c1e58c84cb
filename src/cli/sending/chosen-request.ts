/** Which request a command is about: one of the collection, METHOD URL, or one from standard input; and the options for it. */
import { existsSync } from 'node:fs';
import { isAbsolute, join, relative, resolve } from 'node:path';
import type { Command } from 'commander';
import { planRequest } from '../../core/exchange/request/request-plan.js';
import type { Loads } from '../../core/expression/compile.js';
import { Problem } from '../../core/problem/problem.js';
import { type PreparedRequest, plainRequest, prepareRequest } from '../../core/sending/prepare.js';
import type { Outside } from '../../core/sending/sending.js';
import type { Workspace } from '../../core/sending/workspace.js';
import { writeAtomically } from '../../core/storage/atomic-write.js';
import { placeInside } from '../../core/storage/inside.js';
import { collect } from '../command.js';
import type { Context, WorkspaceWishes } from '../context.js';
import { editorSchemas, installEditorSchemas } from '../documents/editor-schemas.js';
import { requestPath } from '../options/request-path.js';
import type { Terminal } from '../terminal/terminal.js';
import { printableLine } from '../view/printable.js';
import { addedParts, adHocRequest } from './ad-hoc.js';
import type { PipedRequest } from './from-input.js';
import { outsideBy } from './outside-by.js';

export function requestArguments(command: Command): Command {
  return command
    .argument(
      '<request|method>',
      'a request of the collection; a method; or - for a command or message that is piped in',
    )
    .argument('[url]', "after a method: an address, or a path of the environment's origin");
}

/** Of what is sent, in their groups of the help. */
export function requestOptions(command: Command): Command {
  return command
    .optionsGroup('Request:')
    .option('--header <line>', "a header line 'NAME: VALUE', for this sending; may be repeated", collect)
    .option('--query <name=value>', 'a query parameter, for this sending; may be repeated', collect)
    .option('--cookie <name=value>', 'with METHOD URL: a cookie; may be repeated', collect)
    .option('--redirects <number>', 'with METHOD URL: how many redirects are followed, or none')
    .option('--timeout <duration>', 'with METHOD URL: how long the whole response may take, such as 5s')
    .optionsGroup('Body, with METHOD URL:')
    .option('--body-json <json>', 'JSON')
    .option('--body-text <text>', 'text')
    .option('--body-file <path>', 'the bytes of a file, or - for standard input')
    .option('--body-template <path>', 'a file in bodies/, with values put in')
    .option('--body-xml <xml>', 'XML')
    .option('--graphql <document>', 'a GraphQL document, or the path of one')
    .option('--variable <name=value>', 'with --graphql: a variable, in JSON or as text; may be repeated', collect)
    .option('--soap <envelope>', 'a SOAP envelope, or the path of one')
    .option('--soap-action <action>', 'with --soap: the action')
    .option('--form <name=value>', 'a field of a form; may be repeated', collect)
    .option('--part <name=value>', 'a part of a multipart body; may be repeated', collect)
    .option('--part-file <name=path>', 'a file as a part; may be repeated', collect);
}

export interface ChosenRequest {
  readonly workspace: Workspace;
  readonly prepared: PreparedRequest;
  readonly outside: Outside | undefined;
}

/** @param verb the command, for what else could be typed @throws Problem: the request cannot be made ready */
export async function chosenRequest(
  context: Context,
  verb: 'send' | 'preview',
  [first = '', url]: readonly string[],
  options: Record<string, unknown>,
  wishes: WorkspaceWishes,
): Promise<ChosenRequest> {
  const { terminal } = context;
  const piped = first === '-' && url === undefined ? await pipedRequest(options, terminal) : undefined;
  const workspace = await context.workspace({
    ...wishes,
    typedFiles: piped?.files ?? typedFiles(options),
    standardInput: () => process.stdin,
  });
  const address = piped?.url ?? url;
  const outside = address === undefined ? undefined : outsideBy(address, 'typed', workspace, terminal);
  const prepared = piped
    ? await plainFrom(workspace, piped.loaded, outside !== undefined)
    : url === undefined
      ? await fromFile(workspace, first, options, verb)
      : await fromCommandLine(workspace, first, url, options, outside !== undefined, terminal);
  return { workspace, prepared, outside };
}

const fileless = [
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

async function pipedRequest(options: Record<string, unknown>, terminal: Terminal): Promise<PipedRequest> {
  requireFileless(
    options,
    'a request from standard input',
    options.as === undefined ? undefined : 'echo-trail draft - --as NAME keeps it',
  );
  requireNothingAdded(options);
  const { requestFromInput } = await import('./from-input.js');
  const piped = await requestFromInput();
  for (const what of piped.left) terminal.note(`${terminal.err.yellow('left out')}  ${printableLine(what)}`);
  return piped;
}

async function plainFrom(
  { collection }: Workspace,
  loaded: PipedRequest['loaded'],
  outside: boolean,
): Promise<PreparedRequest> {
  const loads: Loads = [];
  const plan = planRequest(collection, loaded, loads, outside);
  await Promise.all(loads);
  return plainRequest(plan);
}

/** @throws Problem usage: an option says what the request says itself */
function requireFileless(options: Record<string, unknown>, given: string, remedy?: string): void {
  const wrong = fileless.find((option) => options[option] !== undefined);
  if (wrong === undefined) return;
  const flag = wrong.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);
  throw new Problem('usage', { what: `--${flag} is for METHOD URL, not for ${given}`, remedy });
}

/** @throws Problem usage */
function requireNothingAdded({ header, query }: Record<string, unknown>): void {
  if (header === undefined && query === undefined) return;
  const flag = header === undefined ? 'query' : 'header';
  throw new Problem('usage', {
    what: `--${flag} cannot be combined with a request from standard input`,
    remedy: 'write it there',
  });
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
  verb: string,
): Promise<PreparedRequest> {
  requireFileless(
    options,
    'a request file',
    /^(?:get|head|post|put|patch|delete|options)$/i.test(name)
      ? `the address is missing: echo-trail ${verb} ${name} URL`
      : 'change the file, or give its inputs with --set',
  );
  if (/^https?:\/\//i.test(name) || name.startsWith('/'))
    throw new Problem('usage', {
      what: 'a method comes before an address',
      remedy: `echo-trail ${verb} GET ${name}`,
    });
  const added = addedParts({
    headers: (options.header as string[] | undefined) ?? [],
    query: (options.query as string[] | undefined) ?? [],
  });
  if (!added) return workspace.prepare(name);
  const { collection, readText } = workspace;
  return prepareRequest(
    collection,
    collection.resolve('request', name),
    readText,
    (signature) => workspace.signer(signature),
    added,
  );
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
      remedy: 'a command takes REQUEST, or METHOD URL',
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
