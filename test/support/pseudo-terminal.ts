/** Runs the built program at a pseudo-terminal and types what a person would, with the `script` of util-linux. */
import { spawn, spawnSync } from 'node:child_process';
import { stripVTControlCharacters } from 'node:util';
import { program, userFolder } from './program.js';

/** Why these tests cannot run here; false where they can. */
export const noTerminal: string | false =
  process.platform !== 'linux' || spawnSync('script', ['--version']).status !== 0
    ? 'wants the script command of util-linux'
    : false;

/** What is waited for on the screen, and the keys that are then typed, after so many milliseconds. */
export type Line = readonly [awaited: string, keys: string, wait?: number];

export const enter = '\r';
export const ctrlC = '\x03';
export const down = '\x1b[B';

/** The whole screen, control characters removed, and the exit status. */
export function conversation(
  args: readonly string[],
  cwd: string,
  lines: readonly Line[],
  env: Readonly<Record<string, string>> = {},
): Promise<{ readonly screen: string; readonly status: number }> {
  const quoted = [process.execPath, program, ...args].map((arg) => `'${arg.replaceAll("'", "'\\''")}'`).join(' ');
  return new Promise((resolve, reject) => {
    const child = spawn('script', ['-qec', quoted, '/dev/null'], {
      cwd,
      env: {
        PATH: process.env.PATH ?? '',
        HOME: userFolder,
        ECHO_TRAIL_HOME: userFolder,
        TERM: 'xterm',
        COLUMNS: '140',
        ...env,
      },
      stdio: ['pipe', 'pipe', 'inherit'],
    });
    const waiting = [...lines];
    let screen = '';
    let seen = 0;
    child.stdout.setEncoding('utf8').on('data', (text: string) => {
      screen += stripVTControlCharacters(text);
      const [next] = waiting;
      const at = next ? screen.indexOf(next[0], seen) : -1;
      if (!next || at === -1) return;
      seen = at + next[0].length;
      waiting.shift();
      // A person types after the question is there.
      setTimeout(() => child.stdin.write(next[1]), next[2] ?? 150);
    });
    const patience = setTimeout(() => child.kill(), 20_000);
    child.on('error', reject);
    child.on('close', (status) => {
      clearTimeout(patience);
      if (waiting.length > 0) reject(new Error(`never saw ${JSON.stringify(waiting[0]?.[0])} in:\n${screen}`));
      else resolve({ screen, status: status ?? -1 });
    });
  });
}
