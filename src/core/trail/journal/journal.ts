/**
 * The journal of a run: what was asked for, each step and row as it ends, each changing call before it leaves. With it a
 * run that was killed can be gone on with, and what it made can be taken back.
 */
import { join } from 'node:path';
import type { Problem } from '../../problem/problem.js';
import { lineLog } from '../../storage/line-log.js';
import type { Value, ValueMap } from '../../value/written.js';
import type { UndoState } from '../events.js';
import type { HandledItem } from '../handled.js';
import type { KeptName, Walk } from '../step-kind.js';
import type { Before, KnownStep, LeftCall } from './before.js';
import type { JournalLine } from './lines.js';
import { namesOf, type Recorder } from './recorded.js';

/** What an undo part needs when it is run by a later command. */
export interface Armed {
  readonly at: string;
  readonly step: string;
  readonly request: string;
  readonly row: number | undefined;
  readonly given: readonly KeptName[];
  readonly names: readonly KeptName[];
}

export interface Journal {
  /** What it is gone on with by. */
  readonly run: string;
  /** Settles when it is on disk that this command is at it. */
  begun(): Promise<void>;
  /** What a step did before this command went on. */
  known(at: string): KnownStep | undefined;
  cellsBefore(at: string): Value | undefined;
  undoneBefore(at: string): boolean;
  armedBefore(at: string): boolean;
  /** A call that takes something back: it left, and nothing is known of its answer. */
  undoingBefore(at: string): LeftCall | undefined;
  /** Numbers of rows by their digests. */
  digestsBefore(walk: number): ReadonlyMap<string, number>;
  /** Of a row that came to its end before: whether well. */
  rowBefore(walk: number, row: number): boolean | undefined;
  walkBefore(walk: number): boolean | undefined;
  /** Settles when it is on disk: only then may the call leave. */
  leaving(at: string, row: number | undefined, call: string, key: string | undefined): Promise<void>;
  step(at: string, walk: Walk, kept: readonly string[], echo: string | undefined, problem: Problem | undefined): void;
  cells(at: string, cells: Value): void;
  rowBegun(walk: number, row: number, digest: string): void;
  row(walk: number, row: number, digest: string, label: string, problem: Problem | undefined): void;
  armed(armed: Armed): void;
  /** Settles when it is on disk: only then may the call leave. */
  undoing(at: string, call: string, key: string | undefined): Promise<void>;
  undone(at: string, state: UndoState, problem: Problem | undefined): void;
  /** A changing call whose answer was lost. */
  doubt(walk: number, call: string): void;
  doubtsBefore(walk: number): readonly string[];
  /** @param way to the step that goes through them */
  handled(way: string, key: string, item: HandledItem): void;
  handledBefore(): Before['handled'];
  /** Settles when it is on disk, and all of the walk with it. */
  walked(walk: number, ok: boolean): Promise<void>;
  close(): Promise<void>;
}

export interface JournalSettings {
  readonly path: string;
  readonly run: string;
  readonly recorder: Recorder;
  /** The first line of this command. */
  readonly first: JournalLine;
  readonly before: Before | undefined;
}

export const journalFolder = (local: string): string => join(local, 'runs');

/** The row, or the walk without rows, that a place in a run is in. */
const groupOf = (at: string): string => {
  const end = at.indexOf('/');
  return end === -1 ? at : at.slice(0, end);
};

const cellNames = (cells: ValueMap): KeptName[] =>
  Object.entries(cells).map(([name, value]) => ({ name, value: value as Value, origin: 'table' }));

export function openJournal({ path, run, recorder, first, before }: JournalSettings): Journal {
  let waiting: (string | (() => JournalLine) | undefined)[] = [];
  const groups = new Map<string, number[]>();
  // Behind a line that a kill cut off.
  const start = before ? '\n' : '';
  let begun = false;
  const log = lineLog(path, () => {
    const lines = waiting;
    waiting = [];
    groups.clear();
    let text = begun ? '' : start;
    begun = true;
    for (const one of lines) {
      if (one !== undefined) text += `${typeof one === 'string' ? one : JSON.stringify(one())}\n`;
    }
    return text;
  });
  const add = (group: string, line: string | (() => JournalLine)): void => {
    const index = waiting.push(line) - 1;
    if (group !== '') {
      const others = groups.get(group);
      if (others) others.push(index);
      else groups.set(group, [index]);
    }
    log.wake();
  };
  const recorded = (problem: Problem | undefined): object => (problem ? { problem: recorder.problem(problem) } : {});
  add('', () => first);

  return {
    run,
    begun: () => log.written(),
    known: (at) => before?.steps.get(groupOf(at))?.get(at),
    cellsBefore: (at) => before?.cells.get(at),
    undoneBefore: (at) => before?.undone.has(at) === true,
    armedBefore: (at) => before?.armed.has(at) === true,
    undoingBefore: (at) => before?.undoing.get(at),
    digestsBefore: (walk) => before?.digests.get(walk) ?? new Map(),
    rowBefore: (walk, row) => before?.rows.get(walk)?.get(row),
    walkBefore: (walk) => before?.walks.get(walk),
    leaving(at, row, call, key) {
      add('', () => ({ line: 'leaving', at, row, call, key }));
      return log.written();
    },
    step(at, { scope, table, last }, kept, echo, problem) {
      // Looked up now: what is kept later under the same name is another step's.
      const names = namesOf(kept, (name) => scope.lookup(name));
      const cells = table && table.places.size > 0 ? last.cells : undefined;
      add(groupOf(at), () => ({
        line: 'step',
        at,
        echo,
        ...(names.length > 0 && { kept: recorder.names(names) }),
        ...(cells && { cells: recorder.names(cellNames(cells)) }),
        ...recorded(problem),
      }));
    },
    cells: (at, cells) => add('', () => ({ line: 'cells', at, cells })),
    rowBegun: (walk, row, digest) =>
      add(`${walk}.${row}`, `{"line":"row-begun","walk":${walk},"row":${row},"digest":"${digest}"}`),
    row(walk, row, digest, label, problem) {
      // How a row came to its end says all that a later command wants to know of it.
      for (const index of groups.get(`${walk}.${row}`) ?? []) waiting[index] = undefined;
      if (problem)
        add('', () => ({ line: 'row', walk, row, digest, label: recorder.text(label), ...recorded(problem) }));
      // Written out, since a run may have a hundred thousand of them.
      else add('', `{"line":"row","walk":${walk},"row":${row},"digest":"${digest}"}`);
    },
    armed: ({ given, names, ...rest }) =>
      add('', () => ({ line: 'armed', ...rest, given: recorder.names(given), names: recorder.names(names) })),
    undoing(at, call, key) {
      add('', () => ({ line: 'undoing', at, call, key }));
      return log.written();
    },
    undone: (at, state, problem) => add('', () => ({ line: 'undone', at, state, ...recorded(problem) })),
    doubt: (walk, call) => add('', () => ({ line: 'doubt', walk, call })),
    doubtsBefore: (walk) => (before?.doubts ?? []).filter((one) => one.walk === walk).map(({ call }) => call),
    handled: (way, key, item) => add('', () => ({ line: 'handled', way, key, ...item })),
    handledBefore: () => before?.handled ?? new Map(),
    walked(walk, ok) {
      add('', () => ({ line: 'walk', walk, ok }));
      return log.written();
    },
    close: () => log.close(),
  };
}
