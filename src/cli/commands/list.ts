/** `list`: the files of the collection. */
import type { Collection } from '../../core/collection/collection.js';
import type { FileKind } from '../../core/collection/files/registry.js';
import { shortText } from '../../core/matcher/reading.js';
import type { Value } from '../../core/value/written.js';
import { type CommandModule, examples } from '../command.js';
import { emit } from '../documents/emit.js';
import type { Terminal } from '../terminal/terminal.js';
import { table } from '../view/table.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command.argument('[request]', 'a request: its inputs are listed').action(
      run(async (context, [request]) => {
        const { terminal } = context;
        const collection = await context.collection();
        if (request !== undefined) return listInputs(collection, request, terminal);
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
    examples(command, [
      ['list', 'what there is, and what it is for'],
      ['list calls/book', 'what can be set, with its type, default and choices'],
    ]);
  },
};

/** What a caller may set: type, default, choices, and where its values come from. */
function listInputs(collection: Collection, given: string, terminal: Terminal): number {
  const { name, content } = collection.read('request', given);
  const all = Object.entries(content.inputs ?? {}).map(([input, declared]) => ({
    name: input,
    type: declared.type ?? null,
    required: declared.default === undefined,
    default: declared.secret === true ? null : (declared.default ?? null),
    choices: [...(declared['one-of'] ?? declared.suggest ?? [])],
    source: declared['choose-from'] ?? null,
    about: declared.about ?? declared.label ?? null,
    secret: declared.secret === true,
  }));
  const { method = 'GET', url, operation } = content;
  if (terminal.json)
    return emit(terminal, 'list inputs', { request: name, method, url, operation: operation ?? null, inputs: all });
  const { out } = terminal;
  terminal.print(
    `${out.bold(name)}  ${out.cyan(method)} ${url}${operation === undefined ? '' : `  ${out.dim(operation)}`}`,
  );
  if (all.length === 0) terminal.note('it has no inputs');
  else
    terminal.print(
      table(
        [
          ['input', 'type', 'default', 'choices', 'about'].map((title) => out.dim(title)),
          ...all.map((one) => [
            out.bold(one.name),
            one.secret ? 'secret' : (one.type ?? ''),
            one.required ? out.yellow('required') : shortText(one.default as Value),
            [
              one.choices.map((choice) => shortText(choice as Value)).join(' | '),
              one.source === null ? '' : `from ${one.source}`,
            ]
              .filter((text) => text !== '')
              .join('; '),
            one.about ?? '',
          ]),
        ],
        terminal,
        { indent: 2, flexible: [3, 4] },
      ),
    );
  return 0;
}
