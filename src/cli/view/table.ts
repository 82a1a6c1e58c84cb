/** Tables without lines: a dim head, columns two spaces apart, long text wrapped inside its column. */
import Table from 'cli-table3';
import stringWidth from 'string-width';
import type { Terminal } from '../terminal.js';

const bare = {
  top: '',
  'top-mid': '',
  'top-left': '',
  'top-right': '',
  bottom: '',
  'bottom-mid': '',
  'bottom-left': '',
  'bottom-right': '',
  left: '',
  'left-mid': '',
  mid: '',
  'mid-mid': '',
  right: '',
  'right-mid': '',
  middle: '  ',
};

export interface TableSettings {
  readonly head?: readonly string[];
  readonly indent?: number;
  /** Columns that may be wrapped, the widest first to give way; else the last. */
  readonly flexible?: readonly number[];
}

/** Columns that are empty in every row are left out. */
export function table(
  given: readonly (readonly string[])[],
  terminal: Terminal,
  { head, indent = 0, flexible }: TableSettings = {},
): string {
  const columns = Math.max(0, ...given.map((row) => row.length));
  const kept = Array.from({ length: columns }, (_, index) => index).filter((index) =>
    given.some((row) => (row[index] ?? '') !== ''),
  );
  const rows = given.map((row) => kept.map((index) => row[index] ?? ''));
  const heads = head && kept.map((index) => head[index] ?? '');
  const widths = kept.map((_, index) =>
    Math.max(
      stringWidth(heads?.[index] ?? ''),
      ...rows.map((row) => Math.max(...(row[index] ?? '').split('\n').map((line) => stringWidth(line)))),
    ),
  );
  fit(
    widths,
    terminal.width - indent - 2 * (kept.length - 1),
    (flexible ?? [columns - 1]).map((index) => kept.indexOf(index)),
  );
  const made = new Table({
    chars: bare,
    style: { 'padding-left': 0, 'padding-right': 0, head: [], border: [], compact: true },
    colWidths: widths,
    wordWrap: true,
    wrapOnWordBoundary: wordsFit(rows, widths),
    ...(heads && { head: heads.map((text) => terminal.out.dim(text)) }),
  });
  for (const row of rows) made.push([...row]);
  const margin = ' '.repeat(indent);
  return made
    .toString()
    .split('\n')
    .map((line) => (margin + line).trimEnd())
    .join('\n');
}

/** Between words where every word has room; else an address, say, would be cut off. */
function wordsFit(rows: readonly (readonly string[])[], widths: readonly number[]): boolean {
  return rows.every((row) =>
    row.every((cell, index) => cell.split(/\s+/).every((word) => stringWidth(word) <= (widths[index] as number))),
  );
}

/** Narrows flexible columns until the sum fits, none below 16. */
function fit(widths: number[], room: number, flexible: readonly number[]): void {
  const least = 16;
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
