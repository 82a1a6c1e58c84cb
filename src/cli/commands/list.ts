/** `list`: the files of the collection. */
import type { FileKind } from '../../core/collection/files/registry.js';
import { type CommandModule, examples } from '../command.js';
import { emit } from '../documents/emit.js';
import { table } from '../view/table.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command.action(
      run(async (context) => {
        const { terminal } = context;
        const collection = await context.collection();
        const names = (kind: FileKind): string[] => [...collection.names(kind)];
        const all = {
          requests: names('request'),
          trails: names('trail'),
          environments: names('environment'),
          sessions: names('session'),
          signatures: names('signature'),
        };
        if (terminal.json) return emit(terminal, 'list', all);
        const { out } = terminal;
        const rows = (['request', 'trail', 'environment', 'session', 'signature'] as const).flatMap((kind) =>
          collection
            .names(kind)
            .map((name, index) => [index === 0 ? out.dim(`${kind}s`) : '', out.bold(name), aboutOf(kind, name)]),
        );
        terminal.print(`${out.bold(collection.manifest.content.name)}  ${out.dim(collection.root)}`);
        if (rows.length > 0) terminal.print(table(rows, terminal));
        return 0;

        function aboutOf(kind: FileKind, name: string): string {
          try {
            return collection.read(kind, name).content.about ?? '';
          } catch {
            return out.red('cannot be read: echo-trail check');
          }
        }
      }),
    );
    examples(command, [['list', 'requests, trails, environments, sessions and signatures with what they are for']]);
  },
};
