/** Browsing: keys become moves or commands, and what comes of them is drawn. */
import {
  type Browsing,
  begun,
  type Move,
  moved,
  shownInList,
  typedIn,
  unfolded,
  visited,
} from '../../core/browsing/browsing.js';
import type { Target } from '../../core/browsing/outline.js';
import { asProblem } from '../../core/problem/problem.js';
import { ownMember } from '../../core/value/own-member.js';
import type { Context } from '../context.js';
import { interruptedStatus } from '../exit-status.js';
import type { Key, Screen } from '../terminal/screen.js';
import { framePieces, type Layout, layoutOf } from './frame.js';
import { footKeys, printKeys } from './help.js';
import { commandPane, commandText, Stoppable } from './inner-command.js';
import { type Output, Pages, pageWidth } from './pages.js';
import type { Started, Subject } from './subject.js';
import { typedAfter } from './typing.js';

/** Milliseconds without a key after which there is time for what takes longer. */
const idle = 150;
/** Milliseconds between two pictures of what a command prints. */
const often = 40;
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
  /** Settles with the exit status. @throws a fault of the program */
  readonly ended: Promise<number>;
  private end!: (status: number) => void;
  private fail!: (error: unknown) => void;
  private state: Browsing;
  private screen!: Screen;
  private readonly pages: Pages;
  private said = '';
  private running: Stoppable | undefined;
  /** What a command inside comes to. */
  private working: Promise<number> | undefined;
  /** While a command prints, the page is drawn now and then. */
  private drawing: NodeJS.Timeout | undefined;
  private later: NodeJS.Timeout | undefined;
  /** Milliseconds that the last search took. */
  private took = 0;
  private typed: string | undefined;

  constructor(
    private readonly subject: Subject,
    private readonly context: Pick<Context, 'inside' | 'terminal'>,
  ) {
    this.ended = new Promise((resolve, reject) => {
      this.end = resolve;
      this.fail = reject;
    });
    this.pages = new Pages(subject, context.terminal.out.enabled);
    this.state = begun(subject.outline, subject.opened);
  }

  /** Settles when there is all that a page may want; the first picture stands before that. */
  async show(screen: Screen): Promise<void> {
    this.screen = screen;
    this.draw();
    try {
      await this.refresh();
    } catch (error) {
      this.said = asProblem(error).what;
    }
    this.changed();
  }

  /** What a command has changed is seen, in the list as well as on pages. */
  private async refresh(): Promise<void> {
    await this.subject.refresh();
    this.state = shownInList(this.state, this.subject.outline, this.layout().height);
    this.pages.forget();
  }

  /** What waits for a pause is done now. */
  settle(): void {
    clearTimeout(this.later);
    this.look();
    const { here } = this.state;
    if (here) this.pages.make(here, this.layout(), true);
    this.paint();
  }

  /** The terminal is another size, or was given back. */
  changed(): void {
    this.pages.forget();
    if (this.screen) this.draw();
  }

  /** Settles when what the key has started has come to its end. */
  async key(key: Key): Promise<void> {
    this.said = '';
    try {
      await this.pressed(key);
    } catch (error) {
      const problem = asProblem(error);
      // A fault of the program is not to be passed over.
      if (problem.code === 'fault') this.fail(error);
      this.said = problem.what;
    }
    this.draw();
  }

  /** The program is to end: what is at work comes to its end first, and stops cleaning up where this is asked for again. */
  stopped(): void {
    this.running?.stop();
    const end = (): void => this.end(interruptedStatus);
    if (this.working) this.working.then(end, end);
    else end();
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
      if (text !== '') this.said = `${text} is not a key here: ? lists them`;
      return;
    }
    const { here } = this.state;
    if (!here) return;
    const output = this.pages.outputOf(here.target);
    const [from, echo] = output
      ? [output.from, output.echo ?? echoOf(output.from)]
      : [here.target, echoOf(here.target)];
    await this.begin(await act.start(from, echo, output?.pane.text() ?? ''));
  }

  private whileRunning(name: string): void {
    if (name === 'ctrl-c' || name === 'escape') {
      this.said = this.running?.stop() ?? '';
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
    const typed = typedAfter(before, { name, text });
    if (typed === undefined) return false;
    if (this.took < quick) this.find(typed);
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
    if (typed.trim() !== '') this.took = performance.now() - began;
  }

  private move(move: Move): void {
    const { height } = this.layout();
    const { lines, links } = this.pages.page;
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
    const link = this.pages.page.links[here?.link ?? -1];
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
      await this.refresh();
      await this.begin(then);
    } else await this.carryOut(started.command);
  }

  private async carryOut(words: readonly string[]): Promise<void> {
    const { here } = this.state;
    if (!here) return;
    const layout = this.layout();
    const running = new Stoppable();
    const pane = commandPane(this.screen, {
      width: pageWidth(layout),
      height: layout.height,
      colour: this.context.terminal.out.enabled,
      printed: () => {
        this.drawing ??= setTimeout(() => {
          this.drawing = undefined;
          this.draw();
        }, often);
      },
      progress: (text) => {
        this.said = text.split('\n').at(-1) ?? '';
        this.paint();
      },
    });
    const from = this.pages.outputOf(here.target)?.from ?? here.target;
    const output: Output = { pane, from, echo: undefined };
    const target = this.pages.add(output);
    pane.terminal.note(pane.terminal.err.dim(commandText(words)));
    this.state = { ...visited(this.state, target), side: 'page' };
    this.running = running;
    this.draw();
    const last = await this.subject.lastEcho();
    try {
      this.working = this.context.inside(words, pane.terminal, running.signals);
      const status = await this.working;
      this.said = status === 0 ? '' : `exit status ${status}`;
      const after = await this.subject.lastEcho();
      if (after !== last) output.echo = after;
    } finally {
      this.running = undefined;
      this.working = undefined;
      clearTimeout(this.drawing);
      this.drawing = undefined;
      await this.refresh();
    }
  }

  /** As a page, from which one goes back as from any other. */
  private showKeys(): void {
    const { here } = this.state;
    if (!here) return;
    const pane = this.pages.pane(this.layout());
    printKeys(this.subject.acts, pane.terminal);
    const target = this.pages.add({ pane, from: here.target, echo: undefined }, 'keys');
    this.state = { ...visited(this.state, target), side: 'page' };
  }

  private layout(): Layout {
    return layoutOf(this.screen?.columns ?? 80, this.screen?.rows ?? 24, this.state.side);
  }

  private draw(): void {
    if (!this.screen) return;
    clearTimeout(this.later);
    const layout = this.layout();
    const { here } = this.state;
    const other = here !== undefined && !this.pages.isOf(here, layout);
    // While keys come quickly, a page that takes long would be drawn again and again for nobody.
    const waits =
      other &&
      this.pages.took > quick &&
      this.pages.isThere &&
      this.state.side !== 'page' &&
      !this.pages.outputOf(here.target);
    if (other && !waits) this.pages.make(here, layout, false);
    if (waits || this.typed !== undefined || !this.pages.isWhole) {
      this.later = setTimeout(() => this.settle(), idle);
    }
    this.paint();
  }

  private paint(): void {
    const painting = {
      title: this.subject.title,
      said: this.said,
      keys: footKeys(this.state.side, this.running !== undefined, this.subject.acts),
      page: this.pages.page,
      colour: this.context.terminal.out.enabled,
    };
    this.screen.draw(framePieces(this.state, this.layout(), painting));
  }
}

const echoOf = ({ kind, name }: Target): string | undefined => (kind === 'echo' ? name : undefined);
