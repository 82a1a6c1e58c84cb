/** Telling what a walk does, as it does it: lines for people, lines of JSON for programs. */

import type { MatrixMaker } from '../../core/run/matrix.js';
import type { Workspace } from '../../core/sending/workspace.js';
import type { StepEvent, WalkEvent } from '../../core/trail/events.js';
import type { TrailPlan } from '../../core/trail/step-kind.js';
import type { Terminal } from '../terminal/terminal.js';
import { printableLine } from '../view/printable.js';
import { eventLines } from '../view/run/run.js';
import { eventDocument } from '../view/run/run-documents.js';
import { liveView } from './live-view.js';

export interface Reporter {
  readonly report: (event: WalkEvent) => void;
  end(): void;
}

/** @param environment named where there are several */
export function reporter(
  plan: TrailPlan,
  workspace: Workspace,
  terminal: Terminal,
  matrix: MatrixMaker | undefined,
  environment: string | undefined,
): Reporter {
  const { hide } = workspace.redactor;
  // What follows the names stands in one column, unless a name is very long.
  const width = plan.rows ? 0 : Math.min(40, Math.max(...plan.steps.map(({ label }) => label.length)));
  const live = liveView(plan, workspace.patience, terminal);
  const alike = alikeFailures();
  let shown = 0;
  /** What went well of many is not told: a run has thousands of it. Where nothing is sent, the first are what one wants to see. */
  const quietly = (event: WalkEvent): boolean => {
    if (!wentWell(event)) return false;
    if (!workspace.dryRun || event.event === 'row') return true;
    shown += 1;
    return shown > shownUnsent;
  };
  /** Doubts of a request are the same for every row. */
  const doubted = new Set<string>();
  const tellDoubts = (event: WalkEvent): void => {
    if (event.event !== 'step' || terminal.json) return;
    for (const doubt of event.sent?.doubts ?? []) {
      const key = `${event.label} ${doubt.replace(/\d+/g, '')}`;
      if (doubted.has(key)) continue;
      doubted.add(key);
      terminal.note(`${terminal.err.yellow('warning')}  ${printableLine(hide(`${event.label}: ${doubt}`))}`);
    }
  };
  /** Rows whose failing step was told. */
  const rowsTold = new Set<number>();
  return {
    report(event) {
      live.take(event);
      matrix?.take(event, environment);
      tellDoubts(event);
      if (!terminal.json && (quietly(event) || (matrix && isOfRow(event)))) return;
      const told = event.event === 'row' && rowsTold.delete(event.row);
      if (event.event === 'step' && event.state === 'failed' && event.row !== undefined) rowsTold.add(event.row);
      if (terminal.json) {
        const document = eventDocument(event, hide);
        terminal.document(environment === undefined ? document : { ...document, environment });
      } else if (event.event === 'waiting') {
        // Where somebody watches, the live view says so; a log has it once for each longer wait.
        if (!terminal.live && event.added > 0)
          for (const line of eventLines(event, terminal, hide)) terminal.note(line);
      } else if (event.event === 'step' && event.state === 'failed' && isOneOfMany(event)) {
        for (const line of alike.take(event, () => eventLines(event, terminal, hide, width))) terminal.print(line);
      } else if (told) {
        // Its failing step said all.
      } else if (!terminal.quiet || (event.event === 'step' && event.state === 'failed')) {
        for (const line of eventLines(event, terminal, hide, width)) terminal.print(line);
      }
    },
    end() {
      live.end();
      if (terminal.json) return;
      for (const line of alike.rest()) terminal.print(terminal.out.dim(line));
      if (shown > shownUnsent)
        terminal.print(terminal.out.dim(`        and ${shown - shownUnsent} more: --json has them all`));
    },
  };
}

/** What a matrix ends with. */
const isOfRow = (event: WalkEvent): boolean =>
  event.event === 'row' || (event.event === 'step' && event.row !== undefined);

const wentWell = (event: WalkEvent): boolean =>
  event.event === 'row' ? event.ok : event.event === 'step' && event.state !== 'failed' && isOneOfMany(event);

const isOneOfMany = ({ row, member }: StepEvent): boolean => row !== undefined || member !== undefined;

/** So many steps of rows or iterations are shown where nothing is sent. */
const shownUnsent = 20;

/** So many failures of one step that say the same are told in full. */
const toldOfAKind = 3;
const mostKinds = 500;

/** What fails alike in many rows is told a few times, and counted. */
function alikeFailures(): {
  take(event: StepEvent, lines: () => readonly string[]): readonly string[];
  rest(): readonly string[];
} {
  const kinds = new Map<string, { readonly label: string; readonly what: string; count: number }>();
  return {
    take(event, lines) {
      const what = event.problems[0]?.what ?? '';
      const key = `${event.label} ${what}`;
      if (kinds.size >= mostKinds && !kinds.has(key)) return lines();
      const kind = kinds.get(key) ?? { label: event.label, what, count: 0 };
      kinds.set(key, kind);
      kind.count += 1;
      return kind.count <= toldOfAKind ? lines() : [];
    },
    rest: () =>
      [...kinds.values()]
        .filter(({ count }) => count > toldOfAKind)
        .map(({ label, what, count }) => `        ${label}: ${count - toldOfAKind} more like it (${what})`),
  };
}
