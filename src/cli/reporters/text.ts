/** A run in words: lines while it happens, and what each walk came to. */
import type { Reporter } from '../../core/report/reporter.js';
import type { RecordOf, RunRecord, StepRecord } from '../../core/trail/record/run-record.js';
import { durationText } from '../../core/value/measures.js';
import type { Terminal } from '../terminal/terminal.js';
import { printableLine } from '../view/printable.js';
import { briefLines } from '../view/problem.js';
import { recordLines } from '../view/run/record-lines.js';
import { dryText, listed, summaryText } from '../view/run/run-summary.js';

/** @param rowsLater a matrix ends with what is to be said of rows */
export function text(terminal: Terminal, rowsLater: boolean): Reporter {
  const { out, err } = terminal;
  let run: RecordOf<'run'> | undefined;
  let walk: WalkText | undefined;
  return {
    take(record) {
      switch (record.event) {
        case 'run':
          run = record;
          if (run.environments.length > 1) terminal.note(err.bold(`environment ${run.environment}`));
          break;
        case 'walk':
          walk = walkText(record, terminal, rowsLater, run?.dryRun === true);
          break;
        case 'summary':
          walk?.end();
          walk = undefined;
          terminal.print(run?.dryRun ? dryText(record, terminal) : summaryText(record, terminal));
          if (record.ended) terminal.complain(briefLines(record.ended, err));
          break;
        case 'resting':
          terminal.note(err.dim(`again in ${durationText(record.time)}`));
          break;
        case 'unfinished':
          terminal.note(
            err.dim(`interrupted before all was walked; to resume it: echo-trail run --resume ${record.run}`),
          );
          break;
        case 'unreachable':
          terminal.complain(briefLines(record.problem, err));
          break;
        case 'nothing-left':
          terminal.print(
            `run ${record.run} has finished, ${record.ok ? 'without failures' : 'with failures'}: there is nothing left to resume`,
          );
          if (!record.ok) terminal.note(`try echo-trail run --failed-of ${record.run} to run the failed part again`);
          break;
        case 'nothing-failed':
          terminal.note(`nothing failed in run ${record.run}`);
          break;
        case 'rows-changed':
          terminal.note(record.changes);
          break;
        case 'undo-summary':
          tellUndone(record, terminal);
          break;
        default:
          if (walk) walk.take(record);
          else for (const line of recordLines(record, terminal)) terminal.print(line);
      }
    },
    end: () => walk?.end(),
  };

  function tellUndone({ run: of, undone, notUndone, inDoubt }: RecordOf<'undo-summary'>, to: Terminal): void {
    if (undone + notUndone + inDoubt.length === 0) {
      to.note(`run ${of} left nothing that is to be taken back`);
      return;
    }
    const left = notUndone > 0 ? `, ${out.red(`${notUndone} not`)}` : '';
    const doubts = inDoubt.length > 0 ? `, ${out.red(`${inDoubt.length} in doubt`)}` : '';
    to.print(`run ${of}: ${undone} undone${left}${doubts}`);
    for (const line of listed('in doubt: these may or may not have happened', inDoubt, to)) to.print(line);
    if (inDoubt.length > 0) to.note(out.dim('  check with the vendor'));
  }
}

type WalkText = Required<Reporter>;

function walkText(
  { rows, steps }: RecordOf<'walk'>,
  terminal: Terminal,
  rowsLater: boolean,
  dryRun: boolean,
): WalkText {
  // What follows the names is in one column, unless a name is very long.
  const width = rows === null ? Math.min(40, Math.max(0, ...steps.map((label) => label.length))) : 0;
  const alike = alikeFailures();
  let shown = 0;
  /** Passed rows and iterations are not shown: a run has thousands. A dry run shows the first of them. */
  const quietly = (record: RunRecord): boolean => {
    if (!wentWell(record)) return false;
    if (!dryRun || record.event === 'row') return true;
    shown += 1;
    return shown > shownUnsent;
  };
  /** Warnings of a request are the same for every row. */
  const warned = new Set<string>();
  const tellWarnings = ({ step, warnings = [] }: StepRecord): void => {
    for (const warning of warnings) {
      const key = `${step} ${warning.replace(/\d+/g, '')}`;
      if (warned.has(key)) continue;
      warned.add(key);
      terminal.note(`${terminal.err.yellow('warning')}  ${printableLine(`${step}: ${warning}`)}`);
    }
  };
  /** Rows whose failed step was shown. */
  const rowsTold = new Set<number>();
  return {
    take(record) {
      if (record.event === 'step') tellWarnings(record);
      if (quietly(record) || (rowsLater && isOfRow(record))) return;
      const told = record.event === 'row' && rowsTold.delete(record.row);
      const failed = record.event === 'step' && record.state === 'failed' ? record : undefined;
      if (failed && failed.row !== null) rowsTold.add(failed.row);
      if (record.event === 'waiting') {
        // Where somebody watches, the live view says so; a log has it once for each longer wait.
        if (!terminal.live && record.added > 0) for (const line of recordLines(record, terminal)) terminal.note(line);
      } else if (failed && isOneOfMany(failed)) {
        for (const line of alike.take(failed, () => recordLines(failed, terminal, width))) terminal.print(line);
      } else if (told) {
        // Its failed step was shown.
      } else if (!terminal.quiet || failed) {
        for (const line of recordLines(record, terminal, width)) terminal.print(line);
      }
    },
    end() {
      for (const line of alike.rest()) terminal.print(terminal.out.dim(line));
      if (shown > shownUnsent)
        terminal.print(terminal.out.dim(`        and ${shown - shownUnsent} more: --json has them all`));
    },
  };
}

/** What a matrix ends with. */
const isOfRow = (record: RunRecord): boolean =>
  record.event === 'row' || (record.event === 'step' && record.row !== null);

const wentWell = (record: RunRecord): boolean =>
  record.event === 'row' ? record.ok : record.event === 'step' && record.state !== 'failed' && isOneOfMany(record);

const isOneOfMany = ({ row, member }: StepRecord): boolean => row !== null || member !== null;

/** So many steps of rows or iterations are shown where nothing is sent. */
const shownUnsent = 20;

/** So many failures of one step that say the same are told in full. */
const toldOfAKind = 3;
const mostKinds = 500;

/** What fails alike in many rows is told a few times, and counted. */
function alikeFailures(): {
  take(record: StepRecord, lines: () => readonly string[]): readonly string[];
  rest(): readonly string[];
} {
  const kinds = new Map<string, { readonly label: string; readonly what: string; count: number }>();
  return {
    take(record, lines) {
      const what = record.problems[0]?.what ?? '';
      const key = `${record.step} ${what}`;
      if (kinds.size >= mostKinds && !kinds.has(key)) return lines();
      const kind = kinds.get(key) ?? { label: record.step, what, count: 0 };
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
