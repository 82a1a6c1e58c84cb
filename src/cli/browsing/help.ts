/** All keys, on a page. */
import type { Browsing } from '../../core/browsing/browsing.js';
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

/** At the foot of the screen, the ones that are wanted most first: there may be no room for all. */
export function footKeys(side: Browsing['side'], running: boolean, acts: readonly Act[]): readonly string[] {
  if (side === 'search') return ['words, as they come to mind', 'Enter to the list', 'Esc all'];
  if (running) return ['at work', 'Esc stops it'];
  const own = side === 'page' ? ['Tab link', 'Enter follow', 'Esc list'] : ['Enter open', '/ find'];
  return ['? keys', ...own, ...acts.map(({ key, about }) => `${key} ${about.split(' ')[0]}`), 'q leave'];
}
