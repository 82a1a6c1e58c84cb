/**
 * Runs the built program at a pseudo-terminal, and shows what a person sees there: a terminal that others wrote (xterm, without
 * a window) makes a screen of what it writes.
 */
import { spawn, spawnSync } from 'node:child_process';
import { after } from 'node:test';
import xterm from '@xterm/headless';
import { program, userFolder } from './program.js';

export interface AtScreen {
  /** The lines that are seen, without the spaces at their ends. */
  lines(): string[];
  /** Settles when the screen holds it. */
  sees(wanted: string | RegExp): Promise<void>;
  type(keys: string): void;
  /** Makes the terminal another size. */
  resize(columns: number, rows: number): void;
  /** All that was written. */
  written(): string;
  /** Whether the screen beside the usual one is shown. */
  beside(): boolean;
  /** Sends a signal to the program. */
  signal(name: NodeJS.Signals): void;
  readonly ended: Promise<number>;
}

export interface ScreenSettings {
  readonly columns?: number;
  readonly rows?: number;
  readonly env?: Readonly<Record<string, string>>;
}

const patience = 10_000;

/** What a test that failed has left running. */
const running = new Set<() => void>();
after(() => {
  for (const end of running) end();
});

export async function atScreen(
  args: readonly string[],
  cwd: string,
  { columns = 80, rows = 24, env = {} }: ScreenSettings = {},
): Promise<AtScreen> {
  const terminal = new xterm.Terminal({ cols: columns, rows, allowProposedApi: true });
  const quoted = [process.execPath, program, ...args].map((arg) => `'${arg.replaceAll("'", "'\\''")}'`).join(' ');
  // What the program is called at, and by which number, is told first.
  const child = spawn(
    'script',
    ['-qec', `tty; echo $$; stty cols ${columns} rows ${rows}; exec ${quoted}`, '/dev/null'],
    {
      cwd,
      env: { PATH: process.env.PATH ?? '', HOME: userFolder, ECHO_TRAIL_HOME: userFolder, TERM: 'xterm', ...env },
      stdio: ['pipe', 'pipe', 'inherit'],
    },
  );
  let written = '';
  let looks: (() => void)[] = [];
  let [device, own] = ['', ''];
  child.stdout.setEncoding('utf8').on('data', (text: string) => {
    written += text;
    terminal.write(text, () => {
      for (const look of looks) look();
    });
  });
  const ended = new Promise<number>((resolve) => {
    child.on('close', (status) => {
      running.delete(end);
      // What was written last is on the screen by then.
      terminal.write('', () => resolve(status ?? -1));
    });
  });
  const end = (): void => {
    process.kill(Number(own), 'SIGKILL');
  };
  const lines = (): string[] => {
    const { active } = terminal.buffer;
    return Array.from(
      { length: terminal.rows },
      (_, line) =>
        active
          .getLine(active.baseY + line)
          ?.translateToString(true)
          .trimEnd() ?? '',
    );
  };
  const sees = (wanted: string | RegExp): Promise<void> =>
    new Promise((resolve, reject) => {
      const there = (): boolean => {
        const text = lines().join('\n');
        return typeof wanted === 'string' ? text.includes(wanted) : wanted.test(text);
      };
      const done = (): void => {
        looks = looks.filter((one) => one !== look);
        clearTimeout(timer);
      };
      const look = (): void => {
        if (!there()) return;
        done();
        resolve();
      };
      const timer = setTimeout(() => {
        done();
        reject(new Error(`never saw ${wanted} on the screen:\n${lines().join('\n')}`));
      }, patience);
      looks.push(look);
      look();
    });
  await new Promise<void>((resolve) => {
    const look = (): void => {
      if (/\n\d+\r?\n/.test(written)) resolve();
    };
    child.stdout.on('data', look);
    look();
  });
  [, device = '', own = ''] = /(\/dev\/\S+)\s+(\d+)/.exec(written) ?? [];
  running.add(end);
  return {
    lines,
    sees,
    type: (keys) => void child.stdin.write(keys),
    resize(wider, taller) {
      terminal.resize(wider, taller);
      spawnSync('stty', ['-F', device, 'cols', String(wider), 'rows', String(taller)]);
    },
    written: () => written,
    beside: () => terminal.buffer.active.type === 'alternate',
    signal: (name) => process.kill(Number(own), name),
    ended,
  };
}
