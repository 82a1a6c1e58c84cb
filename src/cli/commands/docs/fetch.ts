/** The documents of a source, from files or addresses; and which of those they refer to are read. */
import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { realpath } from 'node:fs/promises';
import { basename, dirname, join, relative, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { mainAddress } from '../../../core/documentation/reading/documents.js';
import { type Fetched, type Gathered, gatherDocuments } from '../../../core/documentation/reading/gather.js';
import { asProblem, Problem } from '../../../core/problem/problem.js';
import type { Context } from '../../context.js';
import { inputBytes } from '../../options/input-text.js';
import type { Addresses } from './addresses.js';

export interface FetchSettings {
  /** Hosts beside the document's own from which what it refers to may be fetched. */
  readonly hosts: readonly string[];
  /** The address is asked for its GraphQL schema. */
  readonly graphql?: boolean | undefined;
  /** With which documents of the address's own host are asked for. */
  readonly session?: string | undefined;
}

/** @throws Problem about the first document; what it refers to and is not read is listed with its reason */
export async function fetchDocuments(
  from: string,
  { hosts, graphql, session }: FetchSettings,
  context: Context,
): Promise<Gathered> {
  let opened: Promise<Addresses> | undefined;
  const addresses = (): Promise<Addresses> => {
    opened ??= import('./addresses.js').then(({ openAddresses }) =>
      openAddresses(context, session === undefined ? undefined : { name: session, from }),
    );
    return opened;
  };
  const beside = (folder: string) => (uri: string) =>
    uri.startsWith('file:') ? fromFolder(uri, folder) : fromAddress(uri, hosts, addresses, context);
  try {
    if (isAddress(from)) {
      const live = await addresses();
      const text = await (graphql ? live.schema(from) : live.text(from, true));
      const own = new URL(from).host;
      return await gatherDocuments(from, from, text, (uri) => fromAddress(uri, [own, ...hosts], addresses, context));
    }
    if (from === '-') {
      const { bytes, name } = await inputBytes(from);
      // What it refers to is looked for where the command is.
      return await gatherDocuments(mainAddress('input'), name, bytes, beside(process.cwd()));
    }
    if (isFolder(from) || isPattern(from)) {
      const name = `${basename(resolve(folderAndPattern(from).folder))}.graphql`;
      return await gatherDocuments(mainAddress(name), name, schemaOf(from), async () => ({
        refused: 'it is no document',
      }));
    }
    return await gatherDocuments(mainAddress(basename(from)), from, fileBytes(from), beside(dirname(resolve(from))));
  } finally {
    await (await opened)?.close();
  }
}

const isAddress = (from: string): boolean => /^https?:\/\//i.test(from);

/** A document that refers to another host could make this machine ask anything of anybody. */
async function fromAddress(
  uri: string,
  hosts: readonly string[],
  addresses: () => Promise<Addresses>,
  context: Context,
): Promise<Fetched> {
  if (!isAddress(uri)) return { refused: 'only files and http addresses are read' };
  const { host, hostname } = new URL(uri);
  if (!hosts.includes(host) && !hosts.includes(hostname))
    return { refused: `it is at another host; --fetch-from ${host} allows that` };
  try {
    return { content: await (await addresses()).text(uri, false) };
  } catch (error) {
    context.signal.throwIfAborted();
    return { refused: asProblem(error).what };
  }
}

/** Only below the folder of the first document, symbolic links resolved. */
async function fromFolder(uri: string, folder: string): Promise<Fetched> {
  const path = join(folder, fileURLToPath(uri));
  try {
    const real = await realpath(path);
    const way = relative(await realpath(folder), real);
    if (way.startsWith('..')) return { refused: 'it lies outside the folder of the document' };
    return { content: fileBytes(real) };
  } catch (error) {
    const { code } = error as NodeJS.ErrnoException;
    return {
      refused:
        code === 'ENOENT' ? `there is no file ${relative(folder, path)} beside the document` : asProblem(error).what,
    };
  }
}

const isFolder = (from: string): boolean => statSync(from, { throwIfNoEntry: false })?.isDirectory() === true;

/** `schema/*.graphql`, where there is no file of that very name. */
const isPattern = (from: string): boolean => /[*?]/.test(from) && !existsSync(from);

/** `schema` and `*.graphql` of `schema/*.graphql`; a folder has no pattern. */
export function folderAndPattern(from: string): { readonly folder: string; readonly pattern: string | undefined } {
  if (!isPattern(from)) return { folder: from, pattern: undefined };
  const [before = ''] = /^(?:[^*?]*\/)?/.exec(from) ?? [];
  return { folder: before === '' ? '.' : before, pattern: from.slice(before.length) };
}

/** The parts of one GraphQL schema, from all files of a folder and below it, or those that a pattern fits, in the order of their names. */
function schemaOf(from: string): string {
  const { folder, pattern } = folderAndPattern(from);
  const fits = pattern === undefined ? /\.(?:graphqls?|gql|sdl)$/i : patternOf(pattern);
  const files = (isFolder(folder) ? readdirSync(folder, { recursive: true, withFileTypes: true }) : [])
    // What a link leads to may lie outside the folder.
    .filter((entry) => entry.isFile())
    .map((entry) => join(entry.parentPath ?? entry.path, entry.name))
    .filter((file) => fits.test(relative(folder, file)))
    .sort();
  if (files.length === 0)
    throw new Problem('document-unreadable', {
      what:
        pattern === undefined ? `${folder} is a folder without a file of a GraphQL schema` : `${from} matches no file`,
      where: { file: folder },
      remedy:
        'files that end with .graphql, .graphqls, .gql or .sdl are read together; of other formats, name the first document',
    });
  return files
    .map((file) => `# ${relative(folder, file)}\n${Buffer.from(fileBytes(file)).toString('utf8')}`)
    .join('\n');
}

/** `*` is any part of a name, `**` any folders, `?` one character. */
const patternOf = (pattern: string): RegExp =>
  new RegExp(
    `^${pattern
      .replace(/[.+^${}()|[\]\\]/g, '\\$&')
      .replace(/\*\*\/|\*|\?/g, (sign) => ({ '**/': '(?:.*/)?', '*': '[^/]*', '?': '[^/]' })[sign] ?? sign)}$`,
  );

function fileBytes(from: string): Uint8Array {
  try {
    // At once: a large document is read so in a third of the time.
    return readFileSync(from);
  } catch (error) {
    const { code, message } = error as NodeJS.ErrnoException;
    if (code === 'ENOENT')
      throw new Problem('file-not-found', { what: `${from} does not exist`, where: { file: from } });
    throw new Problem('file-unreadable', { what: `${from} cannot be read`, where: { file: from }, cause: message });
  }
}
