/** How a command is declared: a line in the table, and a module that is loaded only when it is wanted. */
import type { Command } from 'commander';
import type { Context } from './context.js';

/** The exit status; nothing means 0. */
export type Action = (
  context: Context,
  args: readonly string[],
  options: Record<string, unknown>,
) => Promise<number | undefined>;

export interface CommandModule {
  /** Adds arguments, options, examples and the action, or commands below it. */
  configure(command: Command, run: (action: Action) => (...given: unknown[]) => Promise<void>): void;
}

interface CommandEntry {
  readonly name: string;
  readonly summary: string;
  load(): Promise<CommandModule>;
}

/** Commands under one name, each loaded only when it is wanted. */
interface CommandGroup {
  readonly name: string;
  readonly summary: string;
  readonly below: readonly CommandEntry[];
}

export type Entry = CommandEntry | CommandGroup;

export interface Stage {
  readonly heading: string;
  readonly commands: readonly Entry[];
}

/** Examples under the help of a command; each works in the demo. */
export function examples(command: Command, lines: readonly (readonly [command: string, about: string])[]): void {
  const width = Math.max(...lines.map(([text]) => text.length));
  command.addHelpText(
    'after',
    `\nExamples:\n${lines.map(([text, about]) => `  echo-trail ${text.padEnd(width)}   ${about}`).join('\n')}`,
  );
}

/** A repeatable option collects its values. */
export const collect = (value: string, before: string[] | undefined): string[] => [...(before ?? []), value];
