/** `docs refresh`: what changed at the vendor since the snapshot, and whom it affects. */
import { usersOfOperations } from '../../../core/collection/affected.js';
import { readFresh } from '../../../core/collection/indexing.js';
import { openDocumentation, sourceIndex } from '../../../core/collection/source-index.js';
import { addSource } from '../../../core/collection/sources.js';
import { driftBetween, type OperationDrift } from '../../../core/documentation/drift.js';
import { Problem } from '../../../core/problem/problem.js';
import { type CommandModule, examples } from '../../command.js';
import { emit } from '../../emit.js';
import type { Terminal } from '../../terminal.js';
import { printableLine } from '../../view/printable.js';
import { fetchDocuments } from './fetch.js';

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
      .option('--fetch-from <host...>', 'other hosts from which documents that it refers to may be fetched')
      .action(
        run(async (context, [only], { accept, fetchFrom }) => {
          const { terminal } = context;
          const collection = await context.collection();
          await openDocumentation(collection);
          const { docs } = collection;
          if (only !== undefined) sourceIndex(collection, only);
          const users = usersOfOperations(collection);
          const all: SourceDrift[] = [];
          for (const [name, { source }] of Object.entries(docs)) {
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
            const { documents } = await fetchDocuments(
              source,
              { hosts: (fetchFrom as string[] | undefined) ?? [], graphql },
              context,
            );
            const fresh = await readFresh(collection, name, documents);
            const drift = driftBetween(sourceIndex(collection, name).operations(), fresh.operations());
            fresh.discard();
            all.push({
              source: name,
              operations: drift.map((one) => ({ ...one, ...users(`${name}/${one.operation}`) })),
            });
            if (accept === true) {
              const day = new Date().toISOString().slice(0, 10);
              await addSource(collection, { documents, from: source, name, day, replace: true });
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
      ['docs refresh', 'fetch every source again, and tell what changed'],
      ['docs refresh harbour --accept', 'and keep it'],
    ]);
  },
};

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
      `  ${paint(kind.padEnd(7))}  ${out.bold(operation)}${users.length > 0 ? `   ${out.dim(`affects ${users.join('; ')}`)}` : ''}`,
      ...fields.map(
        ({ at, kind: how, what, breaks }) =>
          `           ${breaks ? out.red(how) : how}  ${out.cyan(printableLine(at))}  ${printableLine(what)}`,
      ),
    ];
  });
  return [
    `${out.bold(source)}: ${operations.length} ${operations.length === 1 ? 'operation differs' : 'operations differ'}`,
    ...lines,
  ].join('\n');
}
