/**
 * A file of lines that is scanned whole: splitting it would cost more than most searches. Each byte of its UTF-8 is
 * a character here, since to read it so takes a fifth of the time; what is looked for has to be written so too.
 */
import { readFileSync } from 'node:fs';

export class TextLines {
  private starts: readonly number[] | undefined;

  constructor(readonly text: string) {}

  static read(path: string): TextLines {
    return new TextLines(readFileSync(path, 'latin1'));
  }

  /** The line of a number, without its end; empty beyond the last. */
  line(number: number): string {
    const starts = this.lineStarts();
    const from = starts[number];
    return from === undefined ? '' : this.text.slice(from, this.endFrom(from));
  }

  *[Symbol.iterator](): Generator<string> {
    for (let from = 0; from < this.text.length; ) {
      const end = this.endFrom(from);
      yield this.text.slice(from, end);
      from = end + 1;
    }
  }

  /** Tells every place of a text, and where its line begins. */
  eachPlace(wanted: string, visit: (at: number, from: number) => void): void {
    const { text } = this;
    for (let at = text.indexOf(wanted); at !== -1; at = text.indexOf(wanted, at + 1)) {
      visit(at, text.lastIndexOf('\n', at) + 1);
    }
  }

  /** Lines with a text as it is; of a cell, the tabs on both sides of it included. */
  *holding(text: string): Generator<string> {
    const wanted = toBytes(text);
    for (let at = this.text.indexOf(wanted); at !== -1; ) {
      const end = this.endFrom(at);
      yield this.text.slice(this.text.lastIndexOf('\n', at) + 1, end);
      at = this.text.indexOf(wanted, end);
    }
  }

  /** Lines with a word, in any case where its letters are ASCII. */
  *having(word: string): Generator<string> {
    // A pattern finds it in less time than it takes to write all in lower case. Of other letters it may find too much.
    const wanted = new RegExp(toBytes(word).replace(/[\\^$.*+?()[\]{}|]/g, '\\$&'), 'gi');
    for (let found = wanted.exec(this.text); found; found = wanted.exec(this.text)) {
      const end = this.endFrom(found.index);
      yield this.text.slice(this.text.lastIndexOf('\n', found.index) + 1, end);
      wanted.lastIndex = end;
    }
  }

  /** The first line whose first cell is this one. */
  lineOf(cell: string): string | undefined {
    const wanted = `${cell}\t`;
    let at = this.text.startsWith(wanted) ? 0 : this.text.indexOf(`\n${wanted}`);
    if (at === -1) return undefined;
    if (at > 0) at += 1;
    return this.text.slice(at, this.endFrom(at));
  }

  /** The line that begins there. */
  lineFrom(from: number): string {
    return this.text.slice(from, this.endFrom(from));
  }

  private endFrom(at: number): number {
    const end = this.text.indexOf('\n', at);
    return end === -1 ? this.text.length : end;
  }

  private lineStarts(): readonly number[] {
    if (this.starts) return this.starts;
    const starts: number[] = [];
    for (let from = 0; from < this.text.length; from = this.endFrom(from) + 1) starts.push(from);
    this.starts = starts;
    return starts;
  }
}

/** A text as it stands among bytes, and back. */
export const toBytes = (text: string): string => (isPlain(text) ? text : Buffer.from(text).toString('latin1'));
export const fromBytes = (text: string): string => (isPlain(text) ? text : Buffer.from(text, 'latin1').toString());

const isPlain = (text: string): boolean => !/[^\0-\x7f]/.test(text);

/** The cell of a line of cells that tabs part. */
export function cellOf(line: string, wanted: number): string {
  let from = 0;
  for (let count = 0; count < wanted; count += 1) from = line.indexOf('\t', from) + 1;
  const end = line.indexOf('\t', from);
  return end === -1 ? line.slice(from) : line.slice(from, end);
}

/** A text without what ends cells and lines. Words have nothing of that kind. */
export const cellText = (text: string): string => (/[\t\n\r]/.test(text) ? text.replace(/[\t\n\r]+/g, ' ') : text);

export const lineOf = (cells: readonly (string | number)[]): string =>
  `${cells.map((cell) => (typeof cell === 'number' ? cell : cellText(cell))).join('\t')}\n`;
