/** The documents of a source, from files or addresses; and which of those they refer to are read. */
import { readFileSync } from 'node:fs';
import { realpath } from 'node:fs/promises';
import { basename, dirname, join, relative, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { mainAddress } from '../../../core/documentation/documents.js';
import { type Fetched, type Gathered, gatherDocuments } from '../../../core/documentation/gather.js';
import { absoluteUrl } from '../../../core/exchange/address.js';
import { plainConnection } from '../../../core/exchange/connection.js';
import type { Transport } from '../../../core/exchange/transport.js';
import { verdictInside } from '../../../core/place/kinds/errors.js';
import { asProblem, Problem } from '../../../core/problem/problem.js';
import { sizeText } from '../../../core/value/measures.js';
import { isValueMap } from '../../../core/value/written.js';
import type { Context } from '../../context.js';
import { version } from '../../version.js';

export interface FetchSettings {
  /** Hosts beside the document's own from which what it refers to may be fetched. */
  readonly hosts: readonly string[];
  /** The address is asked for its GraphQL schema. */
  readonly graphql?: boolean | undefined;
}

/** @throws Problem about the first document; what it refers to and is not read is listed with its reason */
export async function fetchDocuments(
  from: string,
  { hosts, graphql }: FetchSettings,
  context: Context,
): Promise<Gathered> {
  const { transport, close } = transportLater();
  try {
    if (isAddress(from)) {
      const text = graphql
        ? await introspected(from, transport, context)
        : await textAt(from, transport, context, true);
      const own = new URL(from).host;
      return await gatherDocuments(from, from, text, (uri) => fromAddress(uri, [own, ...hosts], transport, context));
    }
    const folder = dirname(resolve(from));
    return await gatherDocuments(mainAddress(basename(from)), from, fileBytes(from), (uri) =>
      uri.startsWith('file:') ? fromFolder(uri, folder) : fromAddress(uri, hosts, transport, context),
    );
  } finally {
    await close();
  }
}

type LaterTransport = () => Promise<Transport>;

/** Most documents are files: what sends requests is loaded only where there is an address. */
function transportLater(): { readonly transport: LaterTransport; close(): Promise<void> } {
  let opened: Promise<Transport> | undefined;
  return {
    transport() {
      opened ??= import('../../../core/exchange/transport.js').then(({ openTransport }) => openTransport());
      return opened;
    },
    async close() {
      await (await opened)?.close();
    },
  };
}

/** The schema of a live endpoint (GraphQL, section 4.2). @throws Problem document-unreadable: introspection is off */
async function introspected(from: string, transport: LaterTransport, { terminal, signal }: Context): Promise<string> {
  terminal.progress(`asking ${from} for its schema`);
  const { introspectionQuery: query } = await import('../../../core/documentation/graphql/introspection.js');
  const url = absoluteUrl(from);
  const bytes = Buffer.from(JSON.stringify({ query, operationName: 'IntrospectionQuery' }));
  const { received, trouble } = await (await transport()).send(
    {
      method: 'POST',
      url,
      shownUrl: url.href,
      headers: [
        line('content-type', 'application/json'),
        line('accept', 'application/graphql-response+json, application/json'),
        line('user-agent', `echo-trail/${version}`),
      ],
      body: { bytes, type: 'application/json', shown: '', secret: false },
      timeout: { connect: 10_000, total: 120_000 },
      redirects: 0,
      connection: plainConnection,
    },
    signal,
  );
  if (!received || trouble) throw trouble ?? new Problem('exchange-failed', { what: `${from} gave no answer` });
  if (received.claimsJson && received.text.includes('"__schema"')) return received.text;
  const [first] = received.claimsJson ? verdictInside(received) : [];
  const said = isValueMap(first) && typeof first.message === 'string' ? first.message : undefined;
  throw new Problem('document-unreadable', {
    what: `${from} does not give its schema: it answered ${received.status} ${received.parts.reason}`,
    cause: said === undefined ? 'introspection is off, or the address is not a GraphQL endpoint' : `it says: ${said}`,
    remedy: 'ask the vendor for the schema as a file (SDL, or the JSON of an introspection), and add that',
  });
}

const line = (name: string, value: string) => ({ name, value, origin: 'automatic', secret: false });

const isAddress = (from: string): boolean => /^https?:\/\//i.test(from);

/** A document that refers to another host could make this machine ask anything of anybody. */
async function fromAddress(
  uri: string,
  hosts: readonly string[],
  transport: LaterTransport,
  context: Context,
): Promise<Fetched> {
  if (!isAddress(uri)) return { refused: 'only files and http addresses are read' };
  const { host, hostname } = new URL(uri);
  if (!hosts.includes(host) && !hosts.includes(hostname))
    return { refused: `it is at another host; --fetch-from ${host} allows that` };
  try {
    return { content: await textAt(uri, transport, context, false) };
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

async function textAt(from: string, transport: LaterTransport, context: Context, first: boolean): Promise<string> {
  const { terminal, signal } = context;
  terminal.progress(`fetching ${from}`);
  const url = absoluteUrl(from);
  const { received, trouble } = await (await transport()).send(
    {
      method: 'GET',
      url,
      shownUrl: url.href,
      headers: [
        line('accept', 'application/yaml, application/json, application/xml, text/html, text/markdown, */*'),
        line('user-agent', `echo-trail/${version}`),
      ],
      body: undefined,
      timeout: { connect: 10_000, total: 120_000 },
      redirects: 10,
      connection: plainConnection,
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
  if (first) terminal.note(`fetched ${sizeText(received.size)} from ${received.finalUrl}`);
  return received.text;
}

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
