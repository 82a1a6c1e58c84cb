/** The program: global options, the table of commands, and what is common to every run of one. */

import { relative } from 'node:path';
import { Command, CommanderError } from 'commander';
import { sayActionsAs } from '../core/problem/actions.js';
import { nearest } from '../core/problem/nearest.js';
import { asProblem, Problem } from '../core/problem/problem.js';
import { watchLocks } from '../core/storage/file-lock.js';
import { setProcesses } from '../core/storage/processes.js';
import { ownMember } from '../core/value/own-member.js';
import type { Action, Entry } from './command.js';
import { collect } from './command.js';
import { stages } from './commands/table.js';
import { type Context, type GlobalOptions, makeContext } from './context.js';
import { exitStatus, graverStatus } from './exit-status.js';
import { optionWords } from './options/option-words.js';
import { type OutlineCommand, outlineOf } from './outline.js';
import { withOwnColours } from './terminal/colours.js';
import { interrupts } from './terminal/interrupts.js';
import { guardOutputs, outputs } from './terminal/outputs.js';
import { isGone } from './terminal/processes.js';
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
  await loadWanted(program, words.slice(2));
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
Exit status: 0 all well, 1 an expectation failed, 2 wrong usage or a broken
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

/** Commander's message in the layout of all our errors. */
function usageText(text: string): string {
  const [what = '', ...more] = text
    .trim()
    .replace(/^error: /, '')
    .split('\n');
  const hint = more.join(' ').replace(/^\(|\)$/g, '');
  const [, unknown] = /^unknown command '(.+)'$/.exec(what) ?? [];
  const near = unknown === undefined ? undefined : ownMember(otherWords, unknown);
  const problem = new Problem('usage', { what, remedy: near ?? hintFor(unknown, hint) });
  const words = optionWords(process.argv);
  if (words.includes('--json')) return `${JSON.stringify(versioned(problemDocument(problem, (one) => one)))}\n`;
  const { err } = openTerminal({ colour: !words.includes('--no-colour') });
  return withOwnColours(`${problemLines(problem, err)}\n`, printable);
}

/** Only the command that is asked for is loaded; the others are a line in the help. */
async function loadWanted(program: Command, args: readonly string[]): Promise<void> {
  const taking = new Set(['--collection', '-e', '--env', '-s', '--set', '--seed', '--log']);
  const words = args.filter((word, index) => !word.startsWith('-') && !taking.has(args[index - 1] ?? ''));
  const [wanted, ...below] = words[0] === 'help' ? words.slice(1) : words;
  // The others are wanted by the help, and by suggestions for a name that is mistyped.
  const known = stages.some(({ commands }) => commands.some(({ name }) => name === wanted));
  const commands = addCommands(program, known && words[0] !== 'help' ? wanted : undefined);
  const entry = stages.flatMap((stage) => stage.commands).find(({ name }) => name === wanted);
  const command = commands.find((one) => one.name() === wanted);
  if (entry && command) await load(entry, command, below);
  inherit(program);
}

/** A command, or of a group of commands the one that is asked for. */
async function load(entry: Entry, command: Command, below: readonly string[]): Promise<void> {
  if ('load' in entry) {
    (await entry.load()).configure(command, (action) => runAction(action));
    return;
  }
  const [wanted] = below[0] === 'help' ? below.slice(1) : below;
  for (const inner of entry.below) {
    const one = command.command(inner.name).description(inner.summary);
    if (inner.name === wanted) await load(inner, one, below.slice(1));
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

function runAction(action: Action): (...given: unknown[]) => Promise<void> {
  return async (...given) => {
    const command = given.at(-1) as Command;
    const options = command.optsWithGlobals() as GlobalOptions & Record<string, unknown>;
    const terminal = openTerminal(options);
    const { signals, release } = interrupts(terminal);
    setProcesses({ own: process.pid, isGone });
    watchLocks({
      signal: signals.signal,
      onWait: (path, holder) =>
        terminal.note(
          `waiting for ${holder === undefined ? 'another command' : `process ${holder}`}, which works on ${relative('', path)}`,
        ),
    });
    const context = makeContext(terminal, options, signals, (error, own) => complain(error, own, signals.signal));
    const began = performance.now();
    let status = 0;
    // Nothing is left that could go on, and the work has not come to its end: that must not pass for success.
    const stuck = (): void => {
      process.exitCode = complain(
        new Error('the command waits for something that cannot come'),
        context,
        signals.signal,
      );
    };
    process.once('beforeExit', stuck);
    try {
      context.log.line('command', { command: nameOf(command), version, folder: process.cwd() });
      status = (await untilFault(action(context, command.args, options))) ?? 0;
    } catch (error) {
      status = complain(error, context, signals.signal);
    }
    try {
      await untilFault(context.close());
    } catch (error) {
      status = graverStatus(status, complain(error, context, signals.signal));
    }
    if (outputs.failure) status = graverStatus(status, complain(cannotPrint(outputs.failure), context, signals.signal));
    terminal.progress('');
    safely(() => context.log.line('end', { status, ms: Math.round(performance.now() - began) }));
    release();
    process.off('beforeExit', stuck);
    process.exitCode = status;
  };
}

/** The first line of the log has already reported a file that cannot be written. */
function safely(work: () => void): void {
  try {
    work();
  } catch {
    // The command goes on without.
  }
}

/** `docs add`. */
const nameOf = (command: Command): string =>
  command.parent?.parent ? `${command.parent.name()} ${command.name()}` : command.name();

/** What a library throws where nobody can catch it ends the work, but not the closing of what is open: nothing is lost. */
function untilFault<T>(work: Promise<T>): Promise<T> {
  return new Promise<T>((resolve, reject) => {
    process.once('uncaughtException', reject);
    work.then(resolve, reject).finally(() => process.off('uncaughtException', reject));
  });
}

const cannotPrint = ({ message }: Error): Problem =>
  new Problem('file-unreadable', {
    what: 'cannot write to standard output',
    cause: message,
    remedy: 'echo-trail echo list shows what was sent',
  });

function complain(error: unknown, { terminal, redactor, log }: Context, signal: AbortSignal): number {
  const cancelled = error instanceof Error && error.name === 'ExitPromptError';
  const problem = cancelled || signal.aborted ? new Problem('interrupted', { what: 'interrupted' }) : asProblem(error);
  const hide = (text: string): string => redactor()?.hide(text) ?? text;
  safely(() => log.line('problem', { code: problem.code, what: problem.what }));
  if (terminal.json) terminal.complainDocument(problemDocument(problem, hide));
  else terminal.complain(problemLines(problem, terminal.err, hide));
  if (terminal.debug && error instanceof Error) terminal.complain(hide(stackText(error)));
  return exitStatus(problem);
}

function stackText(error: Error): string {
  const own = error.stack ?? error.message;
  return error.cause instanceof Error ? `${own}\ncaused by ${stackText(error.cause)}` : own;
}
