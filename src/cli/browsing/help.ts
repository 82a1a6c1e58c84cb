/** All keys, on a page. */
import type { Terminal } from '../terminal/terminal.js';
import { table } from '../view/table.js';
import type { Act } from './subject.js';

const everywhere: readonly (readonly [keys: string, about: string])[] = [
  ['Up, Down, wheel', 'move in the list, or the page'],
  ['PgUp, PgDn, space', 'a screen at a time'],
  ['Home, End', 'to the first, to the last'],
  ['Right, Enter', 'open a row, then its page'],
  ['Left, Esc', 'close a row; back to the list'],
  ['/', 'find: the best first'],
  ['Tab, Shift-Tab', 'the next link of the page, the one before'],
  ['Enter', 'on a page: follow the chosen link'],
  ['Backspace or <', 'back to the page before'],
  ['>', 'forward again'],
  ['o', 'the other side: list or page'],
];
const atTheEnd: readonly (readonly [keys: string, about: string])[] = [
  ['Ctrl-Z', 'stop; fg comes back'],
  ['?', 'these keys'],
  ['q, Ctrl-C', 'leave'],
];

export function printKeys(acts: readonly Act[], terminal: Terminal): void {
  const { out } = terminal;
  const lines = [...everywhere, ...acts.map(({ key, about }) => [key, about] as const), ...atTheEnd];
  terminal.print(out.bold('Keys'));
  terminal.print(
    table(
      lines.map(([keys, about]) => [out.cyan(keys), about]),
      terminal,
      { indent: 2, flexible: [1] },
    ),
  );
}
