/** Browsing: keys become moves or commands, and what comes of them is drawn. */
import {
  type Browsing,
  begun,
  type Move,
  moved,
  shownInList,
  typedIn,
  unfolded,
  type Visit,
  visited,
} from '../../core/browsing/browsing.js';
import type { Target } from '../../core/browsing/outline.js';
import { asProblem } from '../../core/problem/problem.js';
import { ownMember } from '../../core/value/own-member.js';
import type { Context } from '../context.js';
import type { Key, Screen } from '../terminal/screen.js';
import { problemLines } from '../view/problem.js';
import { framePieces, type Layout, layoutOf } from './frame.js';
import { printKeys } from './help.js';
import { type Page, pageOf, withoutLinks } from './page.js';
import { openPane, type Pane } from './pane.js';
import type { Started, Subject } from './subject.js';

/** The output of a command, as a page. */
interface Output {
  readonly pane: Pane;
  /** The page that it was started from. */
  readonly from: Target;
  echo: string | undefined;
}

/** Milliseconds without a key after which there is time for what takes longer. */
const idle = 150;
/** What takes longer than this waits until no more keys come. */
const quick = 12;

const moveKeys: Readonly<Record<string, Move>> = {
  up: 'up',
  down: 'down',
  'page-up': 'page-up',
  'page-down': 'page-down',
  space: 'page-down',
  home: 'first',
  end: 'last',
  right: 'in',
  left: 'out',
  tab: 'next-link',
  'shift-tab': 'previous-link',
  backspace: 'back',
  '<': 'back',
  '>': 'forward',
  o: 'other-side',
};

export class Browser {
  /** Settles with the exit status. */
  readonly ended: Promise<number>;
  private end!: (status: number) => void;
  private state: Browsing;
  private screen!: Screen;
  private page: Page = { lines: [], links: [] };
  /** Of which visit the page is, at which size; and whether it has all it can have. */
  private drawn: { readonly of: string; readonly late: boolean } | undefined;
  private readonly outputs = new Map<string, Output>();
  private said = '';
  private running: AbortController | undefined;
  private later: NodeJS.Timeout | undefined;
  /** What the last page, and the last search, took. */
  private readonly took = { page: 0, search: 0 };
  private typed: string | undefined;

  constructor(
    private readonly subject: Subject,
    private readonly context: Pick<Context, 'inside' | 'terminal'>,
  ) {
    this.ended = new Promise((resolve) => {
      this.end = resolve;
    });
    this.state = begun(subject.outline, subject.opened);
  }

  /** Settles when there is all that a page may want; the first picture stands before that. */
  async show(screen: Screen): Promise<void> {
    this.screen = screen;
    this.draw();
    try {
      await this.subject.refresh();
    } catch (error) {
      this.said = asProblem(error).what;
    }
    this.changed();
  }

  /** What waits for a pause is done now. */
  settle(): void {
    clearTimeout(this.later);
    this.look();
    this.drawLate();
  }

  /** The terminal is another size, or was given back. */
  changed(): void {
    this.drawn = undefined;
    if (this.screen) this.draw();
  }

  /** Settles when what the key has started has come to its end. */
  async key(key: Key): Promise<void> {
    this.said = '';
    try {
      await this.pressed(key);
    } catch (error) {
      this.said = asProblem(error).what;
    }
    this.draw();
  }

  stopped(): void {
    this.running?.abort();
    this.end(130);
  }

  private async pressed({ name, text }: Key): Promise<void> {
    if (this.running) return this.whileRunning(name);
    if (name === 'ctrl-c') return this.end(0);
    if (name === 'ctrl-z') return this.screen.stop();
    if (this.state.side === 'search' && (await this.search(name, text))) return;
    const move = ownMember(moveKeys, name);
    if (move) return this.move(move);
    switch (name) {
      case 'q':
        return this.end(0);
      case '/':
        this.state = { ...this.state, side: 'search' };
        return;
      case '?':
        return this.showKeys();
      case 'escape':
        return this.escape();
      case 'enter':
        return this.enter();
      case 'ctrl-l':
        return this.changed();
    }
    const act = this.subject.acts.find((one) => one.key === text);
    if (!act) {
      if (text !== '') this.said = `${text} is no key here: ? shows them`;
      return;
    }
    const { here } = this.state;
    if (!here) return;
    const output = this.outputs.get(here.target.name);
    const [from, echo] =
      here.target.kind === 'output' ? [output?.from ?? here.target, output?.echo] : [here.target, echoOf(here.target)];
    await this.begin(await act.start(from, echo, output?.pane.text() ?? ''));
  }

  private whileRunning(name: string): void {
    if (name === 'ctrl-c' || name === 'escape') {
      this.said = 'stopping';
      this.running?.abort();
      return;
    }
    const move = ownMember(moveKeys, name);
    if (move && move !== 'in' && move !== 'next-link') this.move(move);
  }

  /** @returns whether the key was one of the search */
  private async search(name: string, text: string): Promise<boolean> {
    const before = this.typed ?? this.state.typed;
    if (name === 'enter' || name === 'down' || name === 'tab') {
      this.look();
      this.state = { ...this.state, side: 'list' };
      return true;
    }
    if (name === 'escape') {
      this.find('');
      this.state = { ...this.state, side: 'list' };
      return true;
    }
    const typed =
      name === 'backspace'
        ? [...before].slice(0, -1).join('')
        : name === 'ctrl-u'
          ? ''
          : name === 'ctrl-w'
            ? before.replace(/\S*\s*$/, '')
            : text === ''
              ? undefined
              : before + text;
    if (typed === undefined) return false;
    if (this.took.search < quick) this.find(typed);
    else {
      // The letter is seen at once, and what it finds when no more come.
      this.typed = typed;
      this.state = { ...this.state, typed };
    }
    return true;
  }

  /** Looks for what was typed meanwhile. */
  private look(): void {
    if (this.typed !== undefined) this.find(this.typed);
  }

  private find(typed: string): void {
    this.typed = undefined;
    const began = performance.now();
    this.state = typedIn(this.state, this.subject.outline, typed, this.layout().height);
    if (typed.trim() !== '') this.took.search = performance.now() - began;
  }

  private move(move: Move): void {
    const { height } = this.layout();
    const { lines, links } = this.page;
    this.state = moved(this.state, move, this.subject.outline, {
      height,
      lines: lines.length,
      links: links.map(({ line }) => line),
    });
  }

  private escape(): void {
    if (this.state.side === 'page') this.state = { ...this.state, side: 'list' };
    else if (this.state.typed !== '') this.find('');
  }

  /** In the list what is selected is opened; on a page its chosen link is followed. */
  private async enter(): Promise<void> {
    const { side, here } = this.state;
    const link = this.page.links[here?.link ?? -1];
    if (side === 'page' && link) await this.begin(this.subject.follow(link.to));
    else if (side === 'page') this.said = 'Tab goes to the next link of the page';
    else {
      const row = this.state.rows[this.state.selected];
      this.move(row?.holds === 'open' ? 'out' : 'in');
    }
  }

  private async begin(started: Started): Promise<void> {
    if ('say' in started) this.said = started.say;
    else if ('unfold' in started) this.state = unfolded(this.state, started.unfold);
    else if ('go' in started) {
      this.state = visited(this.state, started.go);
      this.state = { ...shownInList(this.state, this.subject.outline, this.layout().height), side: 'page' };
    } else if ('ask' in started && !this.screen.asks) this.said = 'a question needs a terminal';
    else if ('ask' in started) {
      const then = await this.screen.lend(started.ask);
      await this.subject.refresh();
      this.drawn = undefined;
      await this.begin(then);
    } else await this.carryOut(started.command);
  }

  private async carryOut(words: readonly string[]): Promise<void> {
    const { here } = this.state;
    if (!here) return;
    const { page, height } = this.layout();
    const controller = new AbortController();
    let before = 0;
    // A question stands below what was said before it.
    const told = (): void => {
      const text = pane.text();
      process.stdout.write(`${withoutLinks(text.slice(before))}\n`);
      before = text.length;
    };
    const pane = openPane({
      width: page,
      height,
      colour: this.context.terminal.out.enabled,
      printed: () => this.draw(),
      progress: (text) => {
        this.said = text.split('\n').at(-1) ?? '';
        this.draw();
      },
      ...(this.screen.asks && {
        asking: (question) =>
          this.screen.lend(() => {
            told();
            return question();
          }),
        askingNow: (question) =>
          this.screen.lendNow(() => {
            told();
            return question();
          }),
      }),
    });
    const name = String(this.outputs.size + 1);
    const from =
      here.target.kind === 'output' ? (this.outputs.get(here.target.name)?.from ?? here.target) : here.target;
    const output: Output = { pane, from, echo: undefined };
    this.outputs.set(name, output);
    pane.terminal.note(pane.terminal.err.dim(`echo-trail ${words.map(shellWord).join(' ')}`));
    this.state = { ...visited(this.state, { kind: 'output', name }), side: 'page' };
    this.running = controller;
    this.draw();
    const last = await this.subject.lastEcho();
    try {
      const status = await this.context.inside(words, pane.terminal, controller.signal);
      this.said = status === 0 ? '' : `exit status ${status}`;
      const after = await this.subject.lastEcho();
      if (after !== last) output.echo = after;
    } finally {
      this.running = undefined;
      await this.subject.refresh();
      this.drawn = undefined;
    }
  }

  /** As a page, from which one goes back as from any other. */
  private showKeys(): void {
    const { here } = this.state;
    if (!here) return;
    const pane = this.pane(this.layout());
    printKeys(this.subject.acts, pane.terminal);
    this.outputs.set(keysPage, { pane, from: here.target, echo: undefined });
    this.state = { ...visited(this.state, { kind: 'output', name: keysPage }), side: 'page' };
  }

  private pane(layout: Layout): Pane {
    const { enabled } = this.context.terminal.out;
    return openPane({ width: pageWidth(layout), height: layout.height, colour: enabled });
  }

  private layout(): Layout {
    return layoutOf(this.screen?.columns ?? 80, this.screen?.rows ?? 24, this.state.side);
  }

  private draw(): void {
    if (!this.screen) return;
    clearTimeout(this.later);
    const layout = this.layout();
    const { here } = this.state;
    const of = here ? pageKey(here, layout) : '';
    const output = here?.target.kind === 'output' ? this.outputs.get(here.target.name) : undefined;
    const other = this.drawn?.of !== of;
    // While keys come quickly, a page that takes long would be drawn again and again for nobody.
    const waits = other && this.took.page > quick && this.drawn !== undefined && this.state.side !== 'page' && !output;
    if (here && (other || output) && !waits) this.render(here, layout, of, output, false);
    if (waits || this.typed !== undefined || this.drawn?.late === false) {
      this.later = setTimeout(() => this.settle(), idle);
    }
    this.paint();
  }

  private drawLate(): void {
    const { here } = this.state;
    const layout = this.layout();
    if (here) this.render(here, layout, pageKey(here, layout), undefined, true);
    this.paint();
  }

  private render(visit: Visit, layout: Layout, of: string, output: Output | undefined, late: boolean): void {
    const shown = output ?? (visit.target.kind === 'output' ? this.outputs.get(visit.target.name) : undefined);
    const width = pageWidth(layout);
    if (shown) {
      this.page = pageOf(shown.pane.text(), shown.pane.links, width);
      this.drawn = { of, late: true };
      return;
    }
    const began = performance.now();
    const pane = this.pane(layout);
    try {
      this.subject.print(visit, pane.terminal, late);
    } catch (error) {
      pane.terminal.print(problemLines(asProblem(error), pane.terminal.out));
    }
    this.page = pageOf(pane.text(), pane.links, width);
    if (!late) this.took.page = performance.now() - began;
    this.drawn = { of, late };
  }

  private paint(): void {
    const keys = this.state.side === 'search' ? searchKeys : this.running ? runningKeys : this.keysOf();
    const painting = {
      title: this.subject.title,
      said: this.said,
      keys,
      page: this.page,
      colour: this.context.terminal.out.enabled,
    };
    this.screen.draw(framePieces(this.state, this.layout(), painting));
  }

  private keysOf(): string[] {
    const acts = this.subject.acts.map(({ key, about }) => `${key} ${about.split(' ')[0]}`);
    const own = this.state.side === 'page' ? ['Tab link', 'Enter follow', 'Esc list'] : ['Enter open', '/ find'];
    return ['? keys', ...own, ...acts, 'q leave'];
  }
}

const searchKeys = ['words, as they come to mind', 'Enter to the list', 'Esc all'];
const runningKeys = ['at work', 'Esc stops it'];

/** Where there is room for one side, the page has all of it. */
const pageWidth = ({ page, columns }: Layout): number => (page === 0 ? columns : page);

const keysPage = 'keys';

const echoOf = ({ kind, name }: Target): string | undefined => (kind === 'echo' ? name : undefined);

const pageKey = ({ target, opened }: Visit, { page, columns, height }: Layout): string =>
  [target.kind, target.name, ...opened, page, columns, height].join('\n');

/** As somebody would type it. */
const shellWord = (word: string): string =>
  /^[\w./:@=+,-]+$/.test(word) ? word : `'${word.replaceAll("'", "'\\''")}'`;
