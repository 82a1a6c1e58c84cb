/** The pages of a browser: what the subject prints of a visit, and what commands have printed. */
import type { Visit } from '../../core/browsing/browsing.js';
import type { Target } from '../../core/browsing/outline.js';
import { asProblem } from '../../core/problem/problem.js';
import { problemLines } from '../view/problem.js';
import type { Layout } from './frame.js';
import { type Page, pageOf } from './page.js';
import { openPane, type Pane } from './pane.js';
import type { Subject } from './subject.js';

/** The output of a command. */
export interface Output {
  readonly pane: Pane;
  /** The page that it was started from. */
  readonly from: Target;
  echo: string | undefined;
}

export class Pages {
  /** The one that is shown. */
  page: Page = { lines: [], links: [] };
  /** Milliseconds that the last one took. */
  took = 0;
  private readonly outputs = new Map<string, Output>();
  /** Of which visit the page is, at which size; and whether it has all it can have. */
  private drawn: { readonly of: string; readonly late: boolean } | undefined;

  constructor(
    private readonly subject: Subject,
    private readonly colour: boolean,
  ) {}

  /** It is to be made again. */
  forget(): void {
    this.drawn = undefined;
  }

  get isWhole(): boolean {
    return this.drawn?.late !== false;
  }

  /** @returns whether it is of this visit, and nothing can have been added to it */
  isOf(visit: Visit, layout: Layout): boolean {
    return this.drawn?.of === pageKey(visit, layout) && !this.outputOf(visit.target);
  }

  get isThere(): boolean {
    return this.drawn !== undefined;
  }

  outputOf({ kind, name }: Target): Output | undefined {
    return kind === 'output' ? this.outputs.get(name) : undefined;
  }

  /** @param name else the next number @returns what leads to it */
  add(output: Output, name = String(this.outputs.size + 1)): Target {
    this.outputs.set(name, output);
    return { kind: 'output', name };
  }

  /** A pane as large as a page. */
  pane(layout: Layout): Pane {
    return openPane({ width: pageWidth(layout), height: layout.height, colour: this.colour });
  }

  /** @param late whether there is time for what takes longer */
  make(visit: Visit, layout: Layout, late: boolean): void {
    const output = this.outputOf(visit.target);
    const began = performance.now();
    const pane = output?.pane ?? this.pane(layout);
    try {
      if (!output) this.subject.print(visit, pane.terminal, late);
    } catch (error) {
      pane.terminal.print(problemLines(asProblem(error), pane.terminal.out));
    }
    this.page = pageOf(pane.text(), pane.links, pageWidth(layout));
    if (!late) this.took = performance.now() - began;
    this.drawn = { of: pageKey(visit, layout), late: late || output !== undefined };
  }
}

/** Where there is room for one side, the page has all of it. */
export const pageWidth = ({ page, columns }: Layout): number => (page === 0 ? columns : page);

const pageKey = ({ target, opened }: Visit, { page, columns, height }: Layout): string =>
  [target.kind, target.name, ...opened, page, columns, height].join('\n');
