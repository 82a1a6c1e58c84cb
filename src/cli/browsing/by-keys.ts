/** Browsing by keys from a file, and the screens that they lead to as text: for a demonstration, or to show somebody the way. */
import { stripVTControlCharacters } from 'node:util';
import { Problem } from '../../core/problem/problem.js';
import type { Context } from '../context.js';
import { inputText } from '../options/input-text.js';
import type { Key, Piece, Screen } from '../terminal/screen.js';
import type { Terminal } from '../terminal/terminal.js';
import { Browser } from './browser.js';
import type { Subject } from './subject.js';

/** Keys that are written by their names. */
const names = [
  'up',
  'down',
  'left',
  'right',
  'page-up',
  'page-down',
  'home',
  'end',
  'enter',
  'escape',
  'tab',
  'shift-tab',
  'backspace',
  'space',
];

const widest = 100;

type Line = { readonly keys: readonly Key[] } | 'screen';

/** @param file a line each: `screen`, `type TEXT`, or the name of a key @throws Problem usage */
export async function browseByKeys(context: Context, file: string, subject: () => Promise<Subject>): Promise<number> {
  const lines = linesOf((await inputText(file)).text, file);
  const browser = new Browser(await subject(), context);
  const screen = textScreen(context.terminal);
  for (const signal of [context.signal, context.secondSignal])
    signal.addEventListener('abort', () => browser.stopped(), { once: true });
  let left = false;
  const ended = browser.ended.finally(() => {
    left = true;
  });
  const typed = async (): Promise<number> => {
    await browser.show(screen);
    for (const line of lines) {
      if (left) break;
      if (line === 'screen') {
        browser.settle();
        screen.print();
      } else for (const key of line.keys) await browser.key(key);
    }
    return 0;
  };
  return Promise.race([ended, typed()]);
}

function linesOf(text: string, file: string): Line[] {
  return text.split(/\r?\n/).flatMap((line, index): Line[] => {
    const wanted = line.trim();
    if (wanted === '' || wanted.startsWith('#')) return [];
    if (wanted === 'screen') return ['screen'];
    const typed = /^type (.+)$/.exec(wanted)?.[1];
    if (typed !== undefined)
      return [{ keys: [...typed].map((text): Key => ({ name: text === ' ' ? 'space' : text, text })) }];
    if (names.includes(wanted)) return [{ keys: [{ name: wanted, text: wanted === 'space' ? ' ' : '' }] }];
    throw new Problem('usage', {
      what: `${wanted} is not a key`,
      where: { file, line: index + 1 },
      remedy: `screen, type TEXT, or one of ${names.join(', ')}`,
    });
  });
}

function textScreen(terminal: Terminal): Screen & { print(): void } {
  // With its frame it has to fit, and more would be hard to read on paper.
  const columns = Math.min(widest, terminal.width - 2);
  const rows = Number(process.env.LINES) || 24;
  let pieces: readonly Piece[] = [];
  const edge = (left: string, right: string): string => terminal.out.dim(`${left}${'─'.repeat(columns)}${right}`);
  return {
    columns,
    rows,
    asks: false,
    draw(drawn) {
      pieces = drawn;
    },
    lend: (work) => work(),
    lendNow: (work) => work(),
    stop: () => undefined,
    leave: () => undefined,
    print() {
      const side = terminal.out.dim('│');
      const lines = Array.from({ length: rows }, (_, index) =>
        pieces
          .filter(({ row }) => row === index + 1)
          .sort((a, b) => a.column - b.column)
          .map(({ text }) => plain(text, index + 1 < rows))
          .join(''),
      );
      terminal.print([edge('┌', '┐'), ...lines.map((line) => side + line + side), edge('└', '┘')].join('\n'));
    },
  };
}

/** Without its colours; what is chosen has a sign before it. */
function plain(text: string, signs: boolean): string {
  const bare = stripVTControlCharacters(text);
  return signs && text.startsWith('\u001b[7m ') ? `>${bare.slice(1)}` : bare;
}
