/** The terminal: results on standard output, everything else on standard error, colours where they are wanted. */
import pc from 'picocolors';

export type Colours = ReturnType<typeof pc.createColors>;

export interface Terminal {
  readonly json: boolean;
  readonly quiet: boolean;
  readonly debug: boolean;
  /** A person can be asked. */
  readonly interactive: boolean;
  /** Standard error is a terminal, so that a progress line can be rewritten. */
  readonly live: boolean;
  /** Columns of standard output. */
  readonly width: number;
  readonly out: Colours;
  readonly err: Colours;
  /** A result. */
  print(text: string): void;
  /** Anything else; nothing with --quiet. */
  note(text: string): void;
  /** Said even with --quiet. */
  complain(text: string): void;
  /** Lines that the next ones replace; an empty text clears them. Nothing where nobody watches. */
  progress(text: string): void;
  /** Asks somebody something; until it is answered no line of progress writes over the question. */
  asking<T>(question: () => Promise<T>): Promise<T>;
}

export interface TerminalSettings {
  readonly json?: boolean | undefined;
  readonly quiet?: boolean | undefined;
  readonly colour?: boolean | undefined;
  readonly debug?: boolean | undefined;
}

export function openTerminal({
  json = false,
  quiet = false,
  colour = true,
  debug = false,
}: TerminalSettings): Terminal {
  const { stdout, stderr, env } = process;
  const coloured = (stream: NodeJS.WriteStream): boolean => {
    if (!colour || env.NO_COLOR) return false;
    if (env.FORCE_COLOR && env.FORCE_COLOR !== '0') return true;
    return stream.isTTY === true && env.TERM !== 'dumb';
  };
  let shown = 0;
  let questions = 0;
  const clear = (): void => {
    if (shown > 0) stderr.write(`\r\u001b[2K${'\u001b[1A\u001b[2K'.repeat(shown - 1)}`);
    shown = 0;
  };
  return {
    json,
    quiet,
    debug,
    // Only looked at when it is wanted: to open standard input takes as long as to parse the arguments.
    get interactive() {
      return process.stdin.isTTY === true && stderr.isTTY === true && !json && !env.CI;
    },
    live: stderr.isTTY === true && !quiet,
    width: stdout.columns ?? (Number(env.COLUMNS) || 120),
    out: pc.createColors(coloured(stdout) && !json),
    err: pc.createColors(coloured(stderr)),
    print(text) {
      clear();
      stdout.write(`${text}\n`);
    },
    note(text) {
      if (quiet) return;
      clear();
      stderr.write(`${text}\n`);
    },
    complain(text) {
      clear();
      stderr.write(`${text}\n`);
    },
    progress(text) {
      if (stderr.isTTY !== true || quiet || questions > 0) return;
      clear();
      if (text === '') return;
      const lines = text.split('\n').map((line) => line.slice(0, (stderr.columns ?? 80) - 1));
      stderr.write(lines.join('\n'));
      shown = lines.length;
    },
    async asking(question) {
      clear();
      questions += 1;
      try {
        return await question();
      } finally {
        questions -= 1;
      }
    },
  };
}
