/** Requests from elsewhere written into the collection, and what is left to do told. */
import { basename, relative } from 'node:path';
import { makeEnvironment } from '../../core/collection/new-environment.js';
import type { Importer } from '../../core/interchange/foreign/request.js';
import { existingText, writeNewFiles } from '../../core/interchange/new-files.js';
import { documentedCalls } from '../../core/interchange/taking-over/documented.js';
import { environmentFor } from '../../core/interchange/taking-over/environment-for.js';
import { type TakenOver, takeOver } from '../../core/interchange/taking-over/take-over.js';
import { asProblem } from '../../core/problem/problem.js';
import { secretStore } from '../../core/session/secrets.js';
import type { Context } from '../context.js';
import { editorSchemas, installEditorSchemas } from '../documents/editor-schemas.js';
import { emit } from '../documents/emit.js';
import { requestPath } from '../options/request-path.js';
import type { Terminal } from '../terminal/terminal.js';
import { printableLine } from '../view/printable.js';

export interface ImportOrder {
  readonly text: string;
  /** Of the file, or `standard input`. */
  readonly name: string;
  readonly as: string | undefined;
}

/** What is listed of what could not be taken over; all of it with --json. */
const mostListed = 12;

/** @throws Problem import-unreadable, file-exists; then nothing is written */
export async function importRequests(context: Context, importer: Importer, order: ImportOrder): Promise<number> {
  const { terminal, options } = context;
  const collection = await context.collection();
  const read = importer.read(order.text, order.name);
  const as = order.as === undefined ? undefined : requestPath(order.as).name;
  const files = new Map<string, string>();
  const taken = takeOver(read, {
    as,
    from: order.name === 'standard input' ? `a ${importer.name.replace('-', ' ')}` : order.name,
    trail: fileName(order.name),
    exact: importer.name !== 'command-line',
    schemas: editorSchemas,
    documented: await documentedCalls(collection),
    existing: (file) => existingText(collection.root, file),
    inheritsSession: (name) => collection.defaults(name).some(({ content }) => content.session !== undefined),
    fileAt: (path) => {
      const inside = relative(collection.root, path);
      const kept = inside !== '' && !inside.startsWith('..') && !/^[/\\]|^[A-Za-z]:/.test(path) && inside === path;
      const file = kept ? path : `data/${basename(path.replaceAll('\\', '/'))}`;
      files.set(file, path);
      return file;
    },
  });
  const written = await writeNewFiles(collection.root, taken.files).catch((error: unknown) => {
    const problem = asProblem(error);
    throw problem.code === 'file-exists' ? problem.orTry('--as NAME writes it under another name') : error;
  });
  const environment = await environmentOf();
  await installEditorSchemas(collection.root);
  const missing = [...files.keys()].filter((file) => existingText(collection.root, file) === undefined);
  if (terminal.json) {
    return emit(terminal, 'import', {
      kind: importer.name,
      written: [...written.written],
      unchanged: [...written.unchanged],
      requests: [...taken.requests],
      trail: taken.trail ?? null,
      sessions: [...taken.sessions],
      secrets: [...taken.secrets],
      inputs: [...taken.open],
      environment: environment ?? null,
      hosts: [...taken.hosts],
      files: missing,
      left: taken.left.map(({ from, what }) => ({ from, what })),
    });
  }
  const unset = await askedFor(await notStored(taken.secrets));
  tell(taken, { ...written, environment, missing, unset }, terminal);
  return 0;

  async function notStored(names: readonly string[]): Promise<readonly string[]> {
    if (names.length === 0) return [];
    const store = secretStore(collection.local, context.home, process.env);
    const found = await store.open(environment?.name ?? options.env ?? collection.environment ?? '');
    return names.filter((name) => found(name) === undefined);
  }

  /** Where somebody is there, for the values that were written nowhere. @returns those that are still missing */
  async function askedFor(names: readonly string[]): Promise<readonly string[]> {
    if (!terminal.interactive || names.length === 0) return names;
    const { askSecret } = await import('../ask/secret.js');
    const { storeSecret } = await import('../commands/secret/store-secret.js');
    terminal.note('no file holds the values of secrets: enter them now, or press Enter to skip one');
    const left: string[] = [];
    for (const name of names) {
      const value = await terminal.asking(() => askSecret(name));
      if (value === '') left.push(name);
      else await storeSecret(context, await context.collection(), { name, value, environment: options.env });
    }
    return left;
  }

  async function environmentOf(): Promise<{ name: string; file: string | null } | undefined> {
    const { origin } = taken;
    if (origin === undefined) return undefined;
    const { name, isNew } = environmentFor(collection, origin, options.env ?? collection.environment);
    const file = isNew ? await makeEnvironment(collection, { name, origin, about: `From ${order.name}` }) : null;
    return { name, file };
  }
}

/** The name of the trail: the file's without its ending. */
const fileName = (name: string): string =>
  name
    .replace(/\.\w+$/, '')
    .toLowerCase()
    .replace(/[^a-z\d]+/g, '-')
    .replace(/^-+|-+$/g, '') || 'imported';

interface Told {
  readonly written: readonly string[];
  readonly unchanged: readonly string[];
  readonly environment: { readonly name: string; readonly file: string | null } | undefined;
  readonly missing: readonly string[];
  /** Secrets. */
  readonly unset: readonly string[];
}

function tell(taken: TakenOver, { written, unchanged, environment, missing, unset }: Told, terminal: Terminal): void {
  const { out, err } = terminal;
  for (const file of written) terminal.print(`wrote ${out.bold(file)}`);
  if (environment && environment.file !== null) terminal.print(`wrote ${out.bold(environment.file)}`);
  if (written.length === 0)
    terminal.print(`nothing to write: ${unchanged.length} files already exist with the same content`);
  else if (unchanged.length > 0)
    terminal.note(
      `${unchanged.length} ${unchanged.length === 1 ? 'file already exists' : 'files already exist'} with the same content`,
    );
  for (const { from, what } of taken.left.slice(0, mostListed))
    terminal.note(`${err.yellow('left out')}  ${printableLine(`${from}: ${what}`)}`);
  if (taken.left.length > mostListed)
    terminal.note(`${err.yellow('left out')}  and ${taken.left.length - mostListed} more: --json lists all`);
  for (const file of missing)
    terminal.note(`a request sends ${printableLine(file)}, which does not exist yet: copy the file there`);
  for (const secret of unset)
    terminal.note(`a secret is missing: echo-trail secret set ${secret}   (its value was not written anywhere)`);
  if (taken.hosts.length > 0)
    terminal.note(`requests also go to ${taken.hosts.join(', ')}: list them under hosts: in the environment`);
  const open = taken.open.map((one) => one.split(' ')[1]);
  if (open.length > 0)
    terminal.note(`inputs without a value: ${[...new Set(open)].map((name) => `--set ${name}=…`).join(' ')}`);
  const [first] = taken.requests;
  const env = environment?.file ? ` --env ${environment.name}` : '';
  terminal.note(
    `next: ${taken.trail === undefined ? `echo-trail preview ${first}` : `echo-trail run ${taken.trail}`}${env}`,
  );
}
