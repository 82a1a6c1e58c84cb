/** The person at the terminal, for what only a person can do: agree to a session. */
import { createInterface } from 'node:readline';
import type { Person } from '../../core/session/session-kind.js';
import type { Terminal } from '../terminal/terminal.js';

/** @param browser whether one may be opened */
export function personAt(terminal: Terminal, browser: boolean): Person {
  return {
    // Whoever wants quiet has to know what to agree to all the same.
    show: (text) => terminal.complain(text),
    browse: async (url) => (browser ? openBrowser(url) : false),
    paste: (question, signal) =>
      terminal.interactive ? terminal.asking(() => asked(question, signal)) : piped(signal),
  };
}

async function asked(message: string, signal: AbortSignal): Promise<string> {
  const { input } = await import('@inquirer/prompts');
  return input({ message, required: true }, { output: process.stderr, signal }).catch((error: unknown) =>
    // The browser came first.
    signal.aborted ? new Promise<never>(() => undefined) : Promise.reject(error),
  );
}

/** The first line of standard input; never where there is none. */
function piped(signal: AbortSignal): Promise<string> {
  const lines = createInterface({ input: process.stdin });
  const end = (): void => {
    lines.close();
    process.stdin.pause();
  };
  signal.addEventListener('abort', end, { once: true });
  return new Promise((resolve) => {
    lines.on('line', (line) => {
      if (line.trim() !== '') resolve(line);
    });
  });
}

const openers: Readonly<Partial<Record<NodeJS.Platform, string>>> = { darwin: 'open', linux: 'xdg-open' };

/** Without a shell, since the address is of another's making. */
async function openBrowser(url: string): Promise<boolean> {
  const [file, args] =
    process.platform === 'win32'
      ? ['rundll32', ['url.dll,FileProtocolHandler', url]]
      : [openers[process.platform] ?? 'xdg-open', [url]];
  const { spawn } = await import('node:child_process');
  return new Promise((resolve) => {
    const child = spawn(file as string, args as string[], { stdio: 'ignore', detached: true });
    child.on('error', () => resolve(false));
    child.on('spawn', () => {
      child.unref();
      resolve(true);
    });
  });
}
