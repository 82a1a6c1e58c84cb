/** The program: global options, the table of commands, and what is common to every run of one. */

import { Command, CommanderError } from 'commander';
import { sayActionsAs } from '../core/problem/actions.js';
import { nearest } from '../core/problem/nearest.js';
import { Problem } from '../core/problem/problem.js';
import { ownMember } from '../core/value/own-member.js';
import { alone, carriedOut, type Inside, type Options, type Perform } from './carry-out.js';
import type { Entry } from './command.js';
import { collect } from './command.js';
import { stages } from './commands/table.js';
import { optionWords } from './options/option-words.js';
import { type OutlineCommand, outlineOf } from './outline.js';
import { withOwnColours } from './terminal/colours.js';
import { guardOutputs } from './terminal/outputs.js';
import { openTerminal, versioned } from './terminal/terminal.js';
import { version } from './version.js';
import { commandLineWords } from './view/actions.js';
import { printable } from './view/printable.js';
import { problemDocument, problemLines } from './view/problem.js';

const about =
  "Explore a vendor's API from its documentation, build shared request collections, and run them with assertions and chained values.";

export async function runProgram(argv: readonly string[]): Promise<void> {
  guardOutputs();
  sayActionsAs(commandLineWords);
  const program = rootCommand();
  const words = optionWords(argv);
  await loadWanted(program, words.slice(2), alone(carryOutInside));
  try {
    await program.parseAsync(words);
  } catch (error) {
    if (error instanceof CommanderError) {
      process.exitCode = error.exitCode === 0 ? 0 : 2;
      return;
    }
    throw error;
  }
}

/** The help screen, for the launcher to print. */
export function helpScreen(): string {
  const program = rootCommand();
  addCommands(program);
  let screen = '';
  program.configureOutput({
    writeOut: (text) => {
      screen += text;
    },
    getOutHelpWidth: () => 80,
  });
  program.outputHelp();
  return screen;
}

/** Every command with its options, for what is made of the program when it is built. */
export async function commandOutline(): Promise<readonly OutlineCommand[]> {
  const program = rootCommand();
  const commands = addCommands(program);
  for (const entry of stages.flatMap((stage) => stage.commands)) {
    const command = commands.find((one) => one.name() === entry.name);
    if (command) await loadAll(entry, command);
  }
  return outlineOf(program);
}

/** A command, and all below it. */
async function loadAll(entry: Entry, command: Command): Promise<void> {
  if ('load' in entry) {
    (await entry.load()).configure(command, () => async () => undefined);
    return;
  }
  for (const inner of entry.below) await loadAll(inner, command.command(inner.name).description(inner.summary));
}

/** The names of all commands, those in a group with the group's: what the launcher knows them by. */
export function commandNames(): string[] {
  const named = (entry: Entry): string[] =>
    'load' in entry ? [entry.name] : entry.below.flatMap(named).map((name) => `${entry.name} ${name}`);
  return stages.flatMap(({ commands }) => commands.flatMap(named));
}

function rootCommand(): Command {
  const program = new Command('echo-trail');
  program
    .description(about)
    .version(`echo-trail ${version}`, '-V, --version', 'print the version')
    .option('--collection <dir>', 'the collection folder; else the nearest one upward')
    .option('-e, --env <name>', 'the environment, of run also several: a,b,c; else the one of the collection')
    .option('-s, --set <name=value>', 'a value for an input or a variable; may be repeated', collect)
    .option('--json', 'print one machine-readable document, or a line an item while streaming')
    .option('-q, --quiet', 'print results and errors only')
    .option('--no-colour', 'no colours; also --no-color, and NO_COLOR in the environment')
    .option('--seed <number>', 'make random and made-up values repeat')
    .option('--log <file>', 'add what the command does to this file, a line of JSON each; - is standard output')
    .option('--debug', 'add stack traces to errors')
    .helpOption('-h, --help', 'show help')
    .helpCommand('help [command]', 'show help for a command')
    .addHelpText(
      'after',
      `
Exit status: 0 success, 1 an expectation failed, 2 wrong usage or a broken
file, 3 no usable response, 4 refused by the environment, or a secret or session
is missing, 130 interrupted; of several the first by 130, 2, 4, 3, 1.

echo-trail demo shows all of it against a made-up harbour;
echo-trail COMMAND --help has examples.`,
    )
    .exitOverride()
    .configureOutput({ outputError: (text, write) => write(usageText(text)) })
    .showSuggestionAfterError();
  return program;
}

/** Words that people try, and what they are called here. */
const otherWords: Readonly<Record<string, string>> = {
  version: 'echo-trail --version',
  set: 'echo-trail secret set stores a secret, echo-trail env use chooses an environment; --set NAME=VALUE gives a value to a command',
  login: 'echo-trail session open',
  config: 'echo-trail env show',
  test: 'echo-trail check looks at the files, echo-trail run walks them',
  get: 'echo-trail send GET URL',
  post: 'echo-trail send POST URL',
};

/** A guess that has little in common with what was typed helps nobody. */
function hintFor(unknown: string | undefined, hint: string): string {
  const [, guess] = /did you mean (.+)\?/i.exec(hint) ?? [];
  if (unknown !== undefined && guess !== undefined && nearest(unknown, guess.split(/, | or /)) === undefined)
    return 'echo-trail --help lists the commands';
  return hint === '' ? 'echo-trail COMMAND --help shows what it takes' : hint.toLowerCase();
}

/** Commander's message as one of our errors. */
function usageProblem(text: string): Problem {
  const [what = '', ...more] = text
    .trim()
    .replace(/^error: /, '')
    .split('\n');
  const hint = more.join(' ').replace(/^\(|\)$/g, '');
  const [, unknown] = /^unknown command '(.+)'$/.exec(what) ?? [];
  const near = unknown === undefined ? undefined : ownMember(otherWords, unknown);
  return new Problem('usage', { what, remedy: near ?? hintFor(unknown, hint) });
}

/** In the layout of all of them. */
function usageText(text: string): string {
  const problem = usageProblem(text);
  const words = optionWords(process.argv);
  if (words.includes('--json')) return `${JSON.stringify(versioned(problemDocument(problem, (one) => one)))}\n`;
  const { err } = openTerminal({ colour: !words.includes('--no-colour') });
  return withOwnColours(`${problemLines(problem, err)}\n`, printable);
}

/** Only the command that is asked for is loaded; the others are a line in the help. */
async function loadWanted(program: Command, args: readonly string[], perform: Perform): Promise<void> {
  const taking = new Set(['--collection', '-e', '--env', '-s', '--set', '--seed', '--log']);
  const words = args.filter((word, index) => !word.startsWith('-') && !taking.has(args[index - 1] ?? ''));
  const [wanted, ...below] = words[0] === 'help' ? words.slice(1) : words;
  // The others are wanted by the help, and by suggestions for a name that is mistyped.
  const known = stages.some(({ commands }) => commands.some(({ name }) => name === wanted));
  const commands = addCommands(program, known && words[0] !== 'help' ? wanted : undefined);
  const entry = stages.flatMap((stage) => stage.commands).find(({ name }) => name === wanted);
  const command = commands.find((one) => one.name() === wanted);
  if (entry && command) await load(entry, command, below, perform);
  inherit(program);
}

/** A command, or of a group of commands the one that is asked for. */
async function load(entry: Entry, command: Command, below: readonly string[], perform: Perform): Promise<void> {
  if ('load' in entry) {
    (await entry.load()).configure(command, (action) => async (...given) => {
      const own = given.at(-1) as Command;
      await perform(action, own, own.optsWithGlobals() as Options);
    });
    return;
  }
  const [wanted] = below[0] === 'help' ? below.slice(1) : below;
  for (const inner of entry.below) {
    const one = command.command(inner.name).description(inner.summary);
    if (inner.name === wanted) await load(inner, one, below.slice(1), perform);
  }
}

/** A line in the help for each, under the heading of its stage. */
function addCommands(program: Command, only?: string): Command[] {
  return stages.flatMap(({ heading, commands }) =>
    commands
      .filter(({ name }) => only === undefined || name === only)
      .map(({ name, summary }) => program.command(name).description(summary).helpGroup(`${heading}:`)),
  );
}

/** What the help of a command says of the options that every command has. */
const everywhere = `
Everywhere: -e/--env, -s/--set, -q/--quiet, --json, --collection, --no-colour,
--seed, --log, --debug; echo-trail --help says what they do.`;

/** Commander copies settings to a command when it is made, so those of the root are handed down once more. */
function inherit(command: Command): void {
  for (const below of command.commands) {
    below.copyInheritedSettings(command).helpOption('-h, --help', 'show help');
    if (below.commands.length === 0) below.addHelpText('after', everywhere);
    inherit(below);
  }
}

/** A command that another one carries out. */
const carryOutInside: Inside = async ({ collection, env, set = [], seed }, words, terminal, signals) => {
  const globally = [
    ...(collection === undefined ? [] : ['--collection', collection]),
    ...(env === undefined ? [] : ['--env', env]),
    ...set.flatMap((one) => ['--set', one]),
    ...(seed === undefined ? [] : ['--seed', seed]),
  ];
  // What the parser has to say goes where the command prints, too.
  const program = rootCommand().configureOutput({
    writeOut: (text) => terminal.print(text.trimEnd()),
    writeErr: (text) => terminal.complain(text.trimEnd()),
    outputError: (text) => terminal.complain(problemLines(usageProblem(text), terminal.err)),
    getOutHelpWidth: () => Math.min(80, terminal.width),
  });
  let status = 2;
  await loadWanted(program, words, async (action, command, own) => {
    status = await carriedOut(action, command, own, terminal, signals, carryOutInside);
  });
  try {
    await program.parseAsync([...globally, ...words], { from: 'user' });
  } catch (error) {
    if (!(error instanceof CommanderError)) throw error;
    status = error.exitCode === 0 ? 0 : 2;
  }
  return status;
};
