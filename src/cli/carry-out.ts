/** Carrying out the action of a command: its context, what it throws, its status. */
import { relative } from 'node:path';
import type { Command } from 'commander';
import { asProblem, Problem } from '../core/problem/problem.js';
import { watchLocks } from '../core/storage/lock-watcher.js';
import { setProcesses } from '../core/storage/processes.js';
import type { Action } from './command.js';
import { type Context, type GlobalOptions, makeContext } from './context.js';
import { exitStatus, graverStatus } from './exit-status.js';
import { interrupts } from './terminal/interrupts.js';
import { outputs } from './terminal/outputs.js';
import { isGone } from './terminal/processes.js';
import { openTerminal, type Terminal } from './terminal/terminal.js';
import { version } from './version.js';
import { problemDocument, problemLines } from './view/problem.js';

export type Options = GlobalOptions & Record<string, unknown>;

/** Carries out the action of a command. */
export type Perform = (action: Action, command: Command, options: Options) => Promise<void>;

/** Carries out another command of the program, as `Context` tells it. */
export type Inside = (options: GlobalOptions, ...given: Parameters<Context['inside']>) => Promise<number>;

/** The command that the program was started for. */
export const alone =
  (inside: Inside): Perform =>
  async (action, command, options) => {
    const terminal = openTerminal(options);
    const { signals, release } = interrupts(terminal);
    setProcesses({ own: process.pid, isGone });
    // Nothing is left that could go on, and the work has not come to its end: that must not pass for success.
    const stuck = (): void => {
      process.exitCode = complain(
        new Error('the command waits for something that cannot come'),
        contextOf(terminal, options, signals, inside),
        signals.signal,
      );
    };
    process.once('beforeExit', stuck);
    let status = await carriedOut(action, command, options, terminal, signals, inside);
    if (outputs.failure)
      status = graverStatus(
        status,
        complain(cannotPrint(outputs.failure), contextOf(terminal, options, signals, inside), signals.signal),
      );
    terminal.progress('');
    release();
    process.off('beforeExit', stuck);
    process.exitCode = status;
  };

type Signals = Pick<Context, 'signal' | 'secondSignal'>;

const contextOf = (terminal: Terminal, options: GlobalOptions, signals: Signals, inside: Inside): Context =>
  makeContext(
    terminal,
    options,
    signals,
    (error, own) => complain(error, own, signals.signal),
    (...given) => inside(options, ...given),
  );

/** @returns the exit status */
export async function carriedOut(
  action: Action,
  command: Command,
  options: Options,
  terminal: Terminal,
  signals: Signals,
  inside: Inside,
): Promise<number> {
  watchLocks({
    signal: signals.signal,
    onWait: (path, holder) =>
      terminal.note(
        `waiting for ${holder === undefined ? 'another command' : `process ${holder}`}, which works on ${relative('', path)}`,
      ),
  });
  const context = contextOf(terminal, options, signals, inside);
  const began = performance.now();
  let status = 0;
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
  safely(() => context.log.line('end', { status, ms: Math.round(performance.now() - began) }));
  return status;
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
