/** Tables without lines: a dim head, columns two spaces apart, long text wrapped inside its column. */
import { wrapAnsi } from 'fast-wrap-ansi';
import { largest } from '../../core/value/largest.js';
import { colouredLines } from '../terminal/colours.js';
import type { Terminal } from '../terminal/terminal.js';
import { isPlain, plainLines, textWidth } from './text-width.js';

const between = '  ';

export interface TableSettings {
  readonly head?: readonly string[];
  readonly indent?: number;
  /** Columns that may be wrapped, the widest first to give way; else the last. */
  readonly flexible?: readonly number[];
  /** The flexible column of prose: it stays comfortably wide as long as the others can be narrower. */
  readonly favoured?: number;
}

/** Columns that are empty in every row are left out. */
export function table(
  given: readonly (readonly string[])[],
  terminal: Terminal,
  { head, indent = 0, flexible, favoured }: TableSettings = {},
): string {
  const columns = largest(given.map((row) => row.length));
  const kept = Array.from({ length: columns }, (_, index) => index).filter((index) =>
    given.some((row) => (row[index] ?? '') !== ''),
  );
  const rows = given.map((row) => kept.map((index) => row[index] ?? ''));
  const heads = head && kept.map((index) => head[index] ?? '');
  const widths = kept.map((_, index) =>
    largest(
      rows.map((row) => largest((row[index] ?? '').split('\n').map((line) => textWidth(line)))),
      textWidth(heads?.[index] ?? ''),
    ),
  );
  const room = terminal.width - indent - 2 * (kept.length - 1);
  const giving = (flexible ?? [columns - 1]).map((index) => kept.indexOf(index));
  if (favoured !== undefined) {
    const own = kept.indexOf(favoured);
    fit(widths, room, [own], comfortable);
    fit(
      widths,
      room,
      giving.filter((index) => index !== own),
    );
  }
  fit(widths, room, giving);
  const margin = ' '.repeat(indent);
  const lines = rows.flatMap((row) => rowLines(row, widths));
  if (heads)
    lines.unshift(
      ...rowLines(
        heads.map((text) => terminal.out.dim(text)),
        widths,
      ),
    );
  return lines.map((line) => (margin + line).trimEnd()).join('\n');
}

/** The lines of one row: each cell wrapped inside its column. */
function rowLines(row: readonly string[], widths: readonly number[]): string[] {
  const cells = row.map((cell, index) => {
    const width = widths[index] as number;
    return textWidth(cell) <= width && !cell.includes('\n')
      ? [cell]
      : isPlain(cell) && wordsFit(cell, width)
        ? plainLines(cell.trimStart(), width)
        : // Between words; only a word that is wider than the column, such as an address, is cut.
          colouredLines(wrapAnsi(cell, width, { hard: true, wordWrap: true, trim: true }));
  });
  const height = Math.max(...cells.map((lines) => lines.length));
  return Array.from({ length: height }, (_, line) =>
    cells.map((lines, index) => padded(lines[line] ?? '', widths[index] as number)).join(between),
  );
}

const padded = (text: string, width: number): string => text + ' '.repeat(Math.max(0, width - textWidth(text)));

const wordsFit = (cell: string, width: number): boolean => cell.split(/\s+/).every((word) => textWidth(word) <= width);

/** Columns in which prose reads well; a narrower one has a word or two a line. */
const comfortable = 56;
const narrowest = 16;

/** Narrows flexible columns until the sum fits, none below the least. */
function fit(widths: number[], room: number, flexible: readonly number[], least = narrowest): void {
  for (;;) {
    const over = widths.reduce((sum, width) => sum + width, 0) - room;
    const widest = flexible
      .filter((index) => index >= 0 && (widths[index] as number) > least)
      .sort((a, b) => (widths[b] as number) - (widths[a] as number))[0];
    if (over <= 0 || widest === undefined) return;
    const second = Math.max(
      least,
      ...flexible.filter((index) => index !== widest && index >= 0).map((index) => widths[index] as number),
    );
    const down = Math.min(over, Math.max(1, (widths[widest] as number) - second));
    widths[widest] = Math.max(least, (widths[widest] as number) - down);
  }
}
