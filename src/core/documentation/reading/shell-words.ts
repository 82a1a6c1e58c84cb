/**
 * The commands of a shell snippet, read and never run: words, quotes, continued lines, assignments and here-documents
 * (POSIX.1-2024, Shell Command Language, sections 2.2 to 2.10), and the quotes that browsers write (`$'…'`, `^` at a line's end).
 */
import { ownMember } from '../../value/own-member.js';

/** Text, and the names that the shell would have put values in for. */
export type ShellPiece = string | { readonly name: string } | { readonly command: string };

export interface ShellWord {
  readonly pieces: readonly ShellPiece[];
  /** From 1. */
  readonly line: number;
  readonly quoted: boolean;
}

export interface ShellCommand {
  readonly words: readonly ShellWord[];
  /** From 1. */
  readonly line: number;
  /** What a here-document gives it as standard input. */
  readonly input: readonly ShellPiece[] | undefined;
  /** It reads what the command before it prints. */
  readonly piped: boolean;
}

/** The text of a word; what the shell would put in stands as it is written. */
export const wordText = (pieces: readonly ShellPiece[]): string =>
  pieces.map((one) => (typeof one === 'string' ? one : 'name' in one ? `$${one.name}` : `$(${one.command})`)).join('');

const nameThere = /^(?:\{([A-Za-z_]\w*)(?::?[-=?+][^}]*)?\}|([A-Za-z_]\w*))/;
const escapes: Readonly<Record<string, string>> = {
  n: '\n',
  t: '\t',
  r: '\r',
  a: '\x07',
  b: '\b',
  f: '\f',
  v: '\v',
  e: '\x1b',
};

/** Never throws: what is not closed ends with the text. */
export function shellCommands(text: string): ShellCommand[] {
  return new ShellReader(text).commands();
}

class ShellReader {
  private at = 0;
  private readonly found: ShellCommand[] = [];
  private words: ShellWord[] = [];
  private pieces: ShellPiece[] | undefined;
  private quoted = false;
  private piped = false;
  private input: ShellPiece[] | undefined;
  /** Here-documents whose lines begin after this one. */
  private readonly awaited: { readonly end: string; readonly tabs: boolean; readonly expands: boolean }[] = [];
  private line = 1;
  private wordLine = 1;

  constructor(private readonly text: string) {}

  commands(): ShellCommand[] {
    while (this.at < this.text.length) this.step();
    this.endCommand(false);
    return this.found;
  }

  private step(): void {
    const sign = this.text[this.at] as string;
    const next = this.text[this.at + 1];
    if ((sign === '\\' || (sign === '^' && this.continues())) && this.lineEnd(this.at + 1) > 0) {
      this.at += 1 + this.lineEnd(this.at + 1);
      this.line += 1;
    } else if (sign === '\n') this.newLine();
    else if (/\s/.test(sign)) this.endWord(1);
    else if (sign === '#' && !this.pieces) this.skipTo('\n');
    else if (sign === ';' || sign === '&' || sign === '|') this.separator(sign);
    else if (sign === '<' && next === '<' && this.text[this.at + 2] !== '<') this.hereDocument();
    else if (sign === '<' && this.placeholder() !== undefined) this.addPlaceholder();
    else if (sign === '>' || (sign === '<' && !this.pieces && next !== '<')) this.redirection();
    else this.wordPart(sign, next);
  }

  /** A caret is a sign of continuation only where a whole line ends with one. */
  private continues(): boolean {
    return !this.quoted && /^\^\r?\n/.test(this.text.slice(this.at, this.at + 3));
  }

  /** The length of the line feed at a place. */
  private lineEnd(at: number): number {
    if (this.text[at] === '\n') return 1;
    return this.text[at] === '\r' && this.text[at + 1] === '\n' ? 2 : 0;
  }

  /** `<YOUR-KEY>`, as guides write what is to be filled in. */
  private placeholder(): string | undefined {
    return /^<[A-Za-z][\w .-]*>/.exec(this.text.slice(this.at, this.at + 80))?.[0];
  }

  private addPlaceholder(): void {
    const whole = this.placeholder() as string;
    this.add(whole);
    this.at += whole.length;
  }

  private add(piece: ShellPiece): void {
    if (!this.pieces) {
      this.pieces = [];
      this.wordLine = this.line;
    }
    const last = this.pieces.at(-1);
    if (typeof piece === 'string' && typeof last === 'string') this.pieces[this.pieces.length - 1] = last + piece;
    else this.pieces.push(piece);
  }

  private endWord(skipped: number): void {
    const pieces = this.pieces?.filter((one) => one !== '');
    if (pieces) this.words.push({ pieces, line: this.wordLine, quoted: this.quoted });
    this.pieces = undefined;
    this.quoted = false;
    this.at += skipped;
  }

  private endCommand(piping: boolean): void {
    this.endWord(0);
    const [first] = this.words;
    if (first) this.found.push({ words: this.words, line: first.line, input: this.input, piped: this.piped });
    this.words = [];
    this.input = undefined;
    this.piped = piping;
  }

  private separator(sign: string): void {
    const twice = this.text[this.at + 1] === sign;
    this.endCommand(sign === '|' && !twice);
    this.at += twice ? 2 : 1;
  }

  private newLine(): void {
    this.endWord(1);
    this.line += 1;
    for (const { end, tabs, expands } of this.awaited.splice(0)) this.readInput(end, tabs, expands);
    this.endCommand(false);
  }

  private skipTo(sign: string): void {
    const end = this.text.indexOf(sign, this.at);
    this.at = end === -1 ? this.text.length : end;
  }

  private hereDocument(): void {
    this.endWord(0);
    const [whole, dash = '', quote = '', name = ''] =
      /^<<(-?)[ \t]*(["'\\]?)([\w.-]+)\2?/.exec(this.text.slice(this.at, this.at + 200)) ?? [];
    if (whole === undefined) {
      this.at += 2;
      return;
    }
    this.at += whole.length + (quote !== '' && this.text[this.at + whole.length] === quote ? 1 : 0);
    this.awaited.push({ end: name, tabs: dash !== '', expands: quote === '' });
  }

  private readInput(end: string, tabs: boolean, expands: boolean): void {
    const lines: string[] = [];
    while (this.at < this.text.length) {
      const stop = this.text.indexOf('\n', this.at);
      const upTo = stop === -1 ? this.text.length : stop;
      const written = this.text.slice(this.at, upTo).replace(/\r$/, '');
      const one = tabs ? written.replace(/^\t+/, '') : written;
      this.at = Math.min(upTo + 1, this.text.length);
      this.line += 1;
      if (one.trim() === end) break;
      lines.push(one);
    }
    const text = lines.join('\n');
    this.input = expands ? expanded(text) : [text];
  }

  /** Where output goes, or a file that is read: neither is a word of the command. */
  private redirection(): void {
    const before = this.pieces && wordText(this.pieces);
    if (before !== undefined && /^\d$/.test(before)) this.pieces = undefined;
    this.endWord(0);
    const [whole = '>'] = /^[<>]+&?[ \t]*[^\s;|&]*/.exec(this.text.slice(this.at, this.at + 1000)) ?? [];
    this.at += whole.length;
  }

  private wordPart(sign: string, next: string | undefined): void {
    this.at += 1;
    if (sign === "'") this.add(this.upTo("'"));
    else if (sign === '"') for (const piece of this.doubleQuoted()) this.add(piece);
    else if (sign === '$' && next === "'") this.add(this.ansiQuoted());
    else if (sign === '$') this.add(this.dollar());
    else if (sign === '`') this.add({ command: this.upTo('`') });
    else if (sign === '\\') {
      this.add(next ?? '');
      this.at += 1;
    } else this.add(sign);
    if (sign === "'" || sign === '"') this.quoted = true;
  }

  private upTo(end: string): string {
    const stop = this.text.indexOf(end, this.at);
    const inner = this.text.slice(this.at, stop === -1 ? undefined : stop);
    this.at = stop === -1 ? this.text.length : stop + 1;
    this.line += inner.split('\n').length - 1;
    return inner;
  }

  /** Behind a dollar. */
  private dollar(): ShellPiece {
    const rest = this.text.slice(this.at, this.at + 1000);
    const named = nameThere.exec(rest);
    if (named) {
      this.at += named[0].length;
      return { name: (named[1] ?? named[2]) as string };
    }
    if (rest.startsWith('(')) {
      const inner = balanced(this.text, this.at);
      this.at += inner.length + 2;
      return { command: inner };
    }
    return '$';
  }

  private doubleQuoted(): ShellPiece[] {
    const pieces: ShellPiece[] = [''];
    while (this.at < this.text.length) {
      const sign = this.text[this.at] as string;
      this.at += 1;
      if (sign === '"') return pieces;
      if (sign === '\n') this.line += 1;
      const next = this.text[this.at] ?? '';
      if (sign === '\\' && (this.lineEnd(this.at) > 0 || '"\\$`'.includes(next))) {
        const feed = this.lineEnd(this.at);
        if (feed > 0) this.line += 1;
        else pieces.push(next);
        this.at += Math.max(feed, 1);
      } else if (sign === '$') pieces.push(this.dollar());
      else if (sign === '`') pieces.push({ command: this.upTo('`') });
      else pieces.push(sign);
    }
    return pieces;
  }

  /** `$'it\'s\u0020so'`. */
  private ansiQuoted(): string {
    const [whole, inner = ''] = /^'((?:[^'\\]|\\[\s\S])*)'?/.exec(this.text.slice(this.at)) ?? ["'"];
    this.at += (whole as string).length;
    this.quoted = true;
    this.line += inner.split('\n').length - 1;
    return inner.replace(
      /\\(?:x([\da-fA-F]{1,2})|u([\da-fA-F]{1,4})|U([\da-fA-F]{1,8})|([0-7]{1,3})|([\s\S]))/g,
      (_, hex?: string, short?: string, long?: string, octal?: string, sign?: string) => {
        const code = Number.parseInt(hex ?? short ?? long ?? octal ?? '', octal === undefined ? 16 : 8);
        if (Number.isNaN(code)) return ownMember(escapes, sign ?? '') ?? sign ?? '';
        return code > 0x10ffff ? '' : String.fromCodePoint(code);
      },
    );
  }
}

/** What stands between a bracket and the one that closes it. */
function balanced(text: string, at: number): string {
  let depth = 0;
  for (let index = at; index < text.length; index += 1) {
    if (text[index] === '(') depth += 1;
    else if (text[index] === ')') {
      depth -= 1;
      if (depth === 0) return text.slice(at + 1, index);
    }
  }
  return text.slice(at + 1);
}

/** A text in which names stand, as in double quotes. */
function expanded(text: string): ShellPiece[] {
  const pieces: ShellPiece[] = [];
  let at = 0;
  for (const found of text.matchAll(/\\([\\$`])|\$(?:\{([A-Za-z_]\w*)\}|([A-Za-z_]\w*))/g)) {
    pieces.push(text.slice(at, found.index));
    const name = found[2] ?? found[3];
    pieces.push(name === undefined ? (found[1] as string) : { name });
    at = found.index + found[0].length;
  }
  pieces.push(text.slice(at));
  return pieces;
}
