/** `docs refresh`: what changed at the vendor since the snapshot, and whom it affects. */

import { join } from 'node:path';
import type { Collection } from '../../../core/collection/collection.js';
import { readFresh } from '../../../core/collection/sources/indexing.js';
import { openDocumentation, sourceIndex } from '../../../core/collection/sources/source-index.js';
import { addSource } from '../../../core/collection/sources/sources.js';
import { driftBetween, type OperationDrift } from '../../../core/documentation/changes/drift.js';
import { hostAndPort } from '../../../core/exchange/hosts/listed-origins.js';
import { waysOfEnvironment } from '../../../core/exchange/hosts/ways-out.js';
import { asProblem, Problem } from '../../../core/problem/problem.js';
import { pathInside } from '../../../core/storage/inside.js';
import { usersOfOperations } from '../../../core/usage/usages.js';
import { type CommandModule, examples } from '../../command.js';
import { type Context, settingsOf } from '../../context.js';
import { emit } from '../../documents/emit.js';
import type { Terminal } from '../../terminal/terminal.js';
import { printableLine } from '../../view/printable.js';
import { fetchDocuments, folderAndPattern } from './fetch.js';

interface SourceDrift {
  readonly source: string;
  readonly operations: readonly (OperationDrift & {
    readonly requests: readonly string[];
    readonly trails: readonly string[];
  })[];
}

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument('[source]', 'only this documentation source')
      .option('--accept', 'put what was fetched in the place of the snapshot')
      .option('--fetch-from <host...>', 'hosts beside those of the environment from which documents may be fetched')
      .action(
        run(async (context, [only], { accept, fetchFrom }) => {
          const { terminal } = context;
          const collection = await context.collection();
          await openDocumentation(collection);
          const { docs } = collection;
          if (only !== undefined) sourceIndex(collection, only);
          const users = usersOfOperations(collection);
          const all: SourceDrift[] = [];
          for (const [name, { source, session }] of Object.entries(docs)) {
            if (only !== undefined && name !== only) continue;
            if (source === undefined || source === 'samples') {
              if (only !== undefined)
                throw new Problem('usage', {
                  what: `nothing says where ${name} was fetched from`,
                  remedy: 'docs add FILE|URL --name NAME --replace',
                });
              continue;
            }
            const graphql = sourceIndex(collection, name).facts.version === 'introspection' && /^https?:/i.test(source);
            const hosts = (fetchFrom as string[] | undefined) ?? [];
            const from = await allowedSource(name, source, hosts, collection, context);
            const { documents } = await fetchDocuments(from, { hosts, graphql, session }, context);
            const fresh = await readFresh(collection, name, documents);
            const drift = driftBetween(sourceIndex(collection, name).operations(), fresh.operations());
            fresh.discard();
            all.push({
              source: name,
              operations: drift.map((one) => ({ ...one, ...users(`${name}/${one.operation}`) })),
            });
            if (accept === true) {
              const day = new Date().toISOString().slice(0, 10);
              await addSource(collection, { documents, from: source, name, day, replace: true, session });
            }
          }
          const changed = all.some(({ operations }) => operations.length > 0);
          if (terminal.json)
            emit(terminal, 'docs refresh', { accepted: accept === true, sources: all.map(sourceDriftDocument) });
          else for (const one of all) terminal.print(driftText(one, terminal));
          if (changed && accept !== true) terminal.note('nothing was overwritten; --accept keeps what was fetched');
          return changed && accept !== true ? 1 : 0;
        }),
      );
    examples(command, [
      ['docs refresh', 'fetch every source again, and list what changed'],
      ['docs refresh harbour --accept', 'and keep it'],
    ]);
  },
};

/**
 * What the manifest names was written by whoever shares the collection: an address goes where the environment goes, or where
 * the person who refreshes says, and a file is one of the collection.
 * @throws Problem host-not-listed, file-outside, file-not-found
 */
async function allowedSource(
  name: string,
  source: string,
  hosts: readonly string[],
  collection: Collection,
  { options }: Context,
): Promise<string> {
  const where = { file: 'echo-trail.yaml' };
  if (!/^https?:\/\//i.test(source)) {
    try {
      const { folder, pattern } = folderAndPattern(source);
      const path = pathInside(collection.root, folder, 'file or folder');
      return pattern === undefined ? path : join(path, pattern);
    } catch (error) {
      throw asProblem(error)
        .at(where)
        .orTry(`echo-trail docs add FILE --name ${name} --replace reads a file from elsewhere`);
    }
  }
  const url = new URL(source);
  if (hosts.includes(url.host) || hosts.includes(url.hostname)) return source;
  const environment = options.env ?? collection.environment;
  const lists =
    environment !== undefined &&
    (await waysOfEnvironment(collection, environment, settingsOf(options.set ?? []))).origins.lists(url);
  if (lists) return source;
  throw new Problem('host-not-listed', {
    what: `${name} was not fetched: ${environment === undefined ? 'no environment is chosen that lists' : `the environment ${environment} does not list`} ${hostAndPort(url)}`,
    where,
    remedy: `echo-trail docs refresh ${name} --fetch-from ${url.host}, or add "${hostAndPort(url)}" to hosts: in the environment`,
    data: { host: url.host },
  });
}

const sourceDriftDocument = ({ source, operations }: SourceDrift) => ({
  source,
  operations: operations.map(({ operation, kind, fields, requests, trails }) => ({
    operation,
    kind,
    fields: fields.map((one) => ({ ...one })),
    requests: [...requests],
    trails: [...trails],
  })),
});

function driftText({ source, operations }: SourceDrift, { out }: Terminal): string {
  if (operations.length === 0) return `${out.bold(source)}: as before`;
  const lines = operations.flatMap(({ operation, kind, fields, requests, trails }) => {
    const paint = kind === 'added' ? out.green : kind === 'removed' ? out.red : out.yellow;
    const users = [
      requests.length > 0 && `requests ${requests.join(', ')}`,
      trails.length > 0 && `trails ${trails.join(', ')}`,
    ].filter(Boolean);
    return [
      `  ${paint(kind.padEnd(7))}  ${out.bold(operation)}${kind === 'removed' ? out.red('  breaking') : ''}${users.length > 0 ? `   ${out.dim(`affects ${users.join('; ')}`)}` : ''}`,
      ...fields.map(
        ({ at, kind: how, what, breaks }) =>
          `           ${breaks ? out.red(`breaking: ${how}`) : how}  ${out.cyan(printableLine(at))}  ${printableLine(what)}`,
      ),
    ];
  });
  return [
    `${out.bold(source)}: ${operations.length} ${operations.length === 1 ? 'operation differs' : 'operations differ'}`,
    ...lines,
  ].join('\n');
}
