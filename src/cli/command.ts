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

const known = new WeakMap<Command, readonly (readonly [command: string, about: string])[]>();

/** Of a command, as they were given. */
export const examplesOf = (command: Command): readonly (readonly [command: string, about: string])[] =>
  known.get(command) ?? [];

/** Examples under the help of a command; each works in the demo. */
export function examples(command: Command, lines: readonly (readonly [command: string, about: string])[]): void {
  known.set(command, lines);
  const width = Math.max(...lines.map(([text]) => text.length));
  // Two lines each where one would be too long for a terminal of the usual width.
  const fits = lines.every(([, about]) => 'echo-trail '.length + width + about.length + 5 <= 80);
  const shown = lines.map(([text, about]) =>
    fits ? `  echo-trail ${text.padEnd(width)}   ${about}` : `  echo-trail ${text}\n${indented(about)}`,
  );
  command.addHelpText('after', `\nExamples:\n${shown.join('\n')}`);
}

/** In lines of the usual width. */
const indented = (about: string): string =>
  about
    .match(/\S.{0,72}(?=\s|$)/g)
    ?.map((line) => `      ${line.trimEnd()}`)
    .join('\n') ?? '';

/** A repeatable option collects its values. */
export const collect = (value: string, before: string[] | undefined): string[] => [...(before ?? []), value];
