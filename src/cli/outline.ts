/** What the program says of its commands, as data: made when it is built, for completion and for the page of the manual. */
import type { Command } from 'commander';
import { examplesOf } from './command.js';

export interface OutlineOption {
  /** `--set`, and before it a short form. */
  readonly names: readonly string[];
  /** What its value is called; undefined where it takes none. */
  readonly value?: string;
  readonly about: string;
  readonly group: string;
}

export interface OutlineArgument {
  /** As the help writes it: `<request|method>`. */
  readonly name: string;
  readonly about: string;
  readonly many: boolean;
}

export interface OutlineCommand {
  /** `docs add`; empty for the program itself. */
  readonly name: string;
  readonly summary: string;
  readonly arguments: readonly OutlineArgument[];
  readonly options: readonly OutlineOption[];
  readonly examples: readonly (readonly [command: string, about: string])[];
  /** Names of the commands below it. */
  readonly below: readonly string[];
}

/** A command and all below it. @param above the words before its name */
export function outlineOf(command: Command, above: readonly string[] = []): OutlineCommand[] {
  const isRoot = command.parent === null;
  const words = isRoot ? [] : [...above, command.name()];
  const below = command.commands.filter((one) => one.name() !== 'help');
  return [
    {
      name: words.join(' '),
      summary: command.description(),
      arguments: command.registeredArguments.map((one) => ({
        name: `${one.required ? '<' : '['}${one.name()}${one.variadic ? '...' : ''}${one.required ? '>' : ']'}`,
        about: one.description,
        many: one.variadic,
      })),
      options: command.options.map((one) => ({
        names: [one.short, one.long].filter((name) => name !== undefined),
        ...((one.required || one.optional) && { value: /[<[]([^>\]]+)[>\]]/.exec(one.flags)?.[1] ?? 'value' }),
        about: one.description,
        group: one.helpGroupHeading?.replace(/:$/, '') ?? 'Options',
      })),
      examples: examplesOf(command),
      below: below.map((one) => one.name()),
    },
    ...below.flatMap((one) => outlineOf(one, words)),
  ];
}
