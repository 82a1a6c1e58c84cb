/**
 * The terminal, the one exit of everything that is printed: results on standard output, everything else on standard error,
 * colours where they are wanted. Known secrets are hidden here, and control characters that the program has not made itself
 * are shown as text.
 */
import { once } from 'node:events';
import { createReadStream } from 'node:fs';
import { writeJson } from '../../core/value/json-text.js';
import type { Value } from '../../core/value/written.js';
import { documentVersion } from '../documents/version.js';
import { jsonLine, printable } from '../view/printable.js';
import { type Colours, makeColours, withOwnColours } from './colours.js';
import { outputs } from './outputs.js';

export type { Colours } from './colours.js';

/** What hides secrets, as far as they are known when something is printed. */
export interface Hiding {
  hideKnown(text: string): string;
  hideKnownIn(value: unknown): unknown;
}

export interface Terminal {
  readonly json: boolean;
  readonly quiet: boolean;
  readonly debug: boolean;
  /** A person can be asked. */
  readonly interactive: boolean;
  /** Standard error is a terminal, so that a progress line can be rewritten. */
  readonly live: boolean;
  /** Nobody reads standard output any more. */
  readonly closed: boolean;
  /** Columns and lines of standard output. */
  readonly width: number;
  readonly height: number;
  readonly out: Colours;
  readonly err: Colours;
  /** From now on, what is printed hides what this one knows; undefined shows it, on purpose. */
  hideBy(hiding: Hiding | undefined): void;
  /** A result. */
  print(text: string): void;
  /** A machine-readable document, on one line of standard output. */
  document(value: object): void;
  /** Text of a response: as it is into a pipe, harmless at a terminal. */
  content(text: string): void;
  /** The bytes of a body, the same. */
  bytes(content: Uint8Array): void;
  /** The content of a file with nothing secret in it, of any length. */
  file(path: string): Promise<void>;
  /** Anything else; nothing with --quiet. */
  note(text: string): void;
  /** Said even with --quiet. */
  complain(text: string): void;
  /** The document of an error, on standard error. */
  complainDocument(value: object): void;
  /** Lines that the next ones replace; an empty text clears them. Nothing where nobody watches. */
  progress(text: string): void;
  /** Nothing is shown any more; where output is no terminal, all of it stays. */
  clearScreen(): void;
  /** Asks somebody something; until it is answered no line of progress writes over the question. */
  asking<T>(question: () => Promise<T>): Promise<T>;
  /** The same in the middle of work that cannot wait. */
  askingNow<T>(question: () => T): T;
}

/** One of the two ways out, or what takes its place. */
export interface Stream {
  readonly isTTY?: boolean | undefined;
  readonly columns?: number | undefined;
  readonly rows?: number | undefined;
  /** @returns false where no more should be written before it drains */
  write(text: string | Uint8Array): boolean;
}

export interface TerminalSettings {
  readonly json?: boolean | undefined;
  readonly quiet?: boolean | undefined;
  readonly colour?: boolean | undefined;
  readonly debug?: boolean | undefined;
}

/** Records of a run are written as they are on disk: the first of them says its version. */
export const versioned = (value: object): object => ('event' in value ? value : { version: documentVersion, ...value });

/** @param links where links can be followed: what each leads to is added to it */
export function openTerminal(
  { json = false, quiet = false, colour = true, debug = false }: TerminalSettings,
  { stdout, stderr }: { readonly stdout: Stream; readonly stderr: Stream } = process,
  links?: string[],
): Terminal {
  const { env } = process;
  const coloured = (stream: Stream): boolean => {
    if (!colour || env.NO_COLOR) return false;
    if (env.FORCE_COLOR && env.FORCE_COLOR !== '0') return true;
    return stream.isTTY === true && env.TERM !== 'dumb';
  };
  let shown = 0;
  let questions = 0;
  let hiding: Hiding | undefined;
  const hidden = (text: string): string => hiding?.hideKnown(text) ?? text;
  const safe = (text: string): string => withOwnColours(hidden(text), printable);
  const oneLine = (value: object): string => `${jsonLine(writeJson((hiding?.hideKnownIn(value) ?? value) as Value))}\n`;
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
    // A CI server keeps what it is shown: lines that are rewritten would stand there one upon the other.
    live: stderr.isTTY === true && !quiet && !env.CI,
    get closed() {
      return outputs.closed;
    },
    width: stdout.columns ?? (Number(env.COLUMNS) || 120),
    height: stdout.rows ?? (Number(env.LINES) || 40),
    out: makeColours(coloured(stdout) && !json, links),
    err: makeColours(coloured(stderr)),
    hideBy(given) {
      hiding = given;
    },
    print(text) {
      clear();
      stdout.write(`${safe(text)}\n`);
    },
    document(value) {
      clear();
      stdout.write(oneLine(versioned(value)));
    },
    content(text) {
      clear();
      stdout.write(`${stdout.isTTY === true ? safe(text) : hidden(text)}\n`);
    },
    bytes(content) {
      clear();
      stdout.write(stdout.isTTY === true ? safe(Buffer.from(content).toString('utf8')) : content);
    },
    async file(path) {
      clear();
      for await (const piece of createReadStream(path)) {
        if (outputs.closed) return;
        const bytes = piece as Uint8Array;
        if (stdout.write(stdout.isTTY === true ? safe(Buffer.from(bytes).toString('utf8')) : bytes)) continue;
        await Promise.race([once(process.stdout, 'drain'), once(process.stdout, 'close')]);
      }
    },
    note(text) {
      if (quiet) return;
      clear();
      stderr.write(`${safe(text)}\n`);
    },
    complain(text) {
      clear();
      stderr.write(`${safe(text)}\n`);
    },
    complainDocument(value) {
      clear();
      stderr.write(oneLine(versioned(value)));
    },
    progress(text) {
      if (stderr.isTTY !== true || quiet || questions > 0) return;
      clear();
      if (text === '') return;
      const lines = safe(text)
        .split('\n')
        .map((line) => line.slice(0, (stderr.columns ?? 80) - 1));
      stderr.write(lines.join('\n'));
      shown = lines.length;
    },
    clearScreen() {
      clear();
      if (stdout.isTTY === true) stdout.write('\u001b[2J\u001b[3J\u001b[H');
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
    askingNow(question) {
      clear();
      return question();
    },
  };
}
