/** The picture of a moment: a list on the left, a page on the right, what is typed above, what can be done below. */
import { wrapAnsi } from 'fast-wrap-ansi';
import type { Browsing } from '../../core/browsing/browsing.js';
import type { Row } from '../../core/browsing/outline.js';
import type { Piece } from '../terminal/screen.js';
import { printableLine } from '../view/printable.js';
import { textWidth } from '../view/text-width.js';
import { lineWithLinks, type Page } from './page.js';

export interface Layout {
  readonly columns: number;
  readonly rows: number;
  /** Columns of the list and of the page; one of them 0 where there is no room for both. */
  readonly list: number;
  readonly page: number;
  /** Lines of both. */
  readonly height: number;
}

/** Narrower, a screen shows one side at a time. */
const leastForBoth = 60;
/** Lines above and below the two sides. */
const around = 4;

export function layoutOf(columns: number, rows: number, side: Browsing['side']): Layout {
  const height = Math.max(1, rows - around);
  if (columns < leastForBoth) {
    const page = side === 'page' ? columns : 0;
    return { columns, rows, list: columns - page, page, height };
  }
  const list = Math.min(64, Math.max(24, Math.floor(columns * 0.38)));
  return { columns, rows, list, page: columns - list - 3, height };
}

export interface Painting {
  readonly title: string;
  /** What is going on, or was said; else the keys are shown. */
  readonly said: string;
  readonly keys: readonly string[];
  readonly page: Page;
  readonly colour: boolean;
}

const reversed = (text: string): string => `\u001b[7m${text}\u001b[27m`;
const bold = (text: string): string => `\u001b[1m${text}\u001b[22m`;
const dim = (text: string): string => `\u001b[2m${text}\u001b[22m`;

export function framePieces(state: Browsing, layout: Layout, painting: Painting): Piece[] {
  const { columns, rows, list, page, height } = layout;
  const pieces: Piece[] = [
    { row: 1, column: 1, text: bold(fitted(` ${painting.title}`, columns)) },
    { row: 2, column: 1, text: searchLine(state, columns) },
    { row: 3, column: 1, text: dim(ruled(layout)) },
  ];
  for (let line = 0; line < height; line += 1) {
    const row = line + around;
    if (list > 0) pieces.push({ row, column: 1, text: listLine(state, line, list, painting.colour) });
    if (list > 0 && page > 0) pieces.push({ row, column: list + 1, text: dim(' │ ') });
    if (page > 0) pieces.push({ row, column: columns - page + 1, text: pageLine(state, line, page, painting.page) });
  }
  // Of a screen that is very small, what there is room for.
  return [...pieces.filter(({ row }) => row < rows), { row: rows, column: 1, text: footLine(state, layout, painting) }];
}

const ruled = ({ columns, list, page }: Layout): string =>
  list > 0 && page > 0 ? `${'─'.repeat(list + 1)}┬${'─'.repeat(columns - list - 2)}` : '─'.repeat(columns);

/** The end of what is typed is seen; a block stands where the next letter goes. */
function searchLine({ typed, side, rows }: Browsing, columns: number): string {
  if (side !== 'search' && typed === '') return dim(fitted(' / finds by words', columns));
  const count = typed.trim() === '' ? '' : `   ${rows.length} found`;
  let shown = printableLine(typed);
  while (shown !== '' && textWidth(shown) > columns - 4 - count.length) shown = shown.slice(1);
  const cursor = side === 'search' ? reversed(' ') : ' ';
  const rest = Math.max(0, columns - 4 - textWidth(shown));
  return ` / ${shown}${cursor}${dim(fitted(count, rest))}`;
}

/** The cells of a row: its place in the tree, its mark, its text, and what stands beside it. */
function listLine(state: Browsing, line: number, width: number, colour: boolean): string {
  const row = state.rows[state.above + line];
  if (!row) {
    const empty = state.rows.length === 0 && line === 0;
    return dim(fitted(empty ? '  nothing fits' : '', width));
  }
  const { plain, painted } = rowText(row, width, colour);
  if (state.above + line !== state.selected) return painted;
  return state.side === 'page' ? bold(plain) : reversed(plain);
}

function rowText(
  { depth, mark, text, aside, holds }: Row,
  width: number,
  colour: boolean,
): { plain: string; painted: string } {
  const sign = holds === undefined ? ' ' : holds === 'open' ? '▾' : '▸';
  const before = ` ${'  '.repeat(Math.min(depth, 8))}${sign} `;
  const marked = mark === '' ? '' : `${printableLine(mark)} `;
  const room = width - textWidth(before) - textWidth(marked);
  const shown = printableLine(text);
  // The text beside it is at the right, where there is room for some of it.
  const left = room - textWidth(shown) - 2;
  const beside =
    aside === '' || left < 3 ? '' : fitted(printableLine(aside), Math.min(left, textWidth(printableLine(aside))));
  const body = fittedPath(shown, Math.max(0, room - textWidth(beside)));
  return {
    plain: fitted(`${before}${marked}${body}${beside}`, width),
    painted:
      room <= 0
        ? fitted(`${before}${marked}`, width)
        : `${before}${colour ? `${markColour(mark)}${marked}\u001b[39m` : marked}${body}${dim(beside)}`,
  };
}

/** Of a status, how it went; methods are as in every other view. */
const markColour = (mark: string): string =>
  /^2/.test(mark)
    ? '\u001b[32m'
    : /^[45]|^in doubt|^none/.test(mark)
      ? '\u001b[31m'
      : /^3/.test(mark)
        ? '\u001b[33m'
        : '\u001b[36m';

function pageLine({ here, side }: Browsing, line: number, width: number, { lines }: Page): string {
  const text = lines[(here?.scroll ?? 0) + line] ?? '';
  return `${lineWithLinks(text, side === 'page' ? (here?.link ?? -1) : -1)}${' '.repeat(Math.max(0, width - textWidth(text)))}`;
}

function footLine({ here }: Browsing, { columns, height }: Layout, { said, keys, page }: Painting): string {
  const most = page.lines.length - height;
  const place = most <= 0 ? '' : `${Math.round((100 * Math.min(here?.scroll ?? 0, most)) / most)} % `;
  const room = Math.max(0, columns - textWidth(place));
  const text = fitted(said === '' ? whole(keys, room) : ` ${printableLine(said)}`, room);
  return reversed(`${text}${place}`);
}

/** As many of the keys as there is room for. */
function whole(keys: readonly string[], room: number): string {
  let text = '';
  for (const one of keys) {
    if (textWidth(text) + textWidth(one) + 2 > room) break;
    text += ` ${one} `;
  }
  return text;
}

/** Of a path that is too long its end is seen, which tells more. */
function fittedPath(text: string, width: number): string {
  if (!text.startsWith('/') || text.length <= width) return fitted(text, width);
  return fitted(`…${text.slice(text.length - width + 1)}`, width);
}

/** In so many columns: filled up, or cut. */
function fitted(text: string, width: number): string {
  const own = textWidth(text);
  if (own <= width) return text + ' '.repeat(width - own);
  if (width <= 0) return '';
  const [cut = ''] = wrapAnsi(text, Math.max(1, width - 1), { hard: true, wordWrap: false, trim: false }).split('\n');
  return `${cut}…${' '.repeat(Math.max(0, width - 1 - textWidth(cut)))}`;
}
