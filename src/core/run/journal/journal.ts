/**
 * The journal of a run: what was asked for, each step and row as it ends, each changing call before it leaves. With it a
 * run that was killed can be resumed, and what it made can be taken back.
 */
import type { Problem } from '../../problem/problem.js';
import { lineLog } from '../../storage/line-log.js';
import type { Journal } from '../../trail/journal.js';
import type { KeptName } from '../../trail/names/kept-names.js';
import { writeJson } from '../../value/json-text.js';
import type { Value, ValueMap } from '../../value/written.js';
import type { JournalLine } from './lines.js';
import type { Recorder } from './recorded.js';
import type { RecordedRun } from './recorded-run.js';

export interface JournalSettings {
  readonly path: string;
  readonly run: string;
  readonly recorder: Recorder;
  /** The first line of this command. */
  readonly first: JournalLine;
  readonly before: RecordedRun | undefined;
}

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
    step(at, kept, cells, echo, problem) {
      add(groupOf(at), () => ({
        line: 'step',
        at,
        echo,
        ...(kept.length > 0 && { kept: recorder.names(kept) }),
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
    // As text at once: thousands of records that wait for the next write are a burden to the collector of garbage.
    record(record) {
      const text = writeJson(record as Value);
      if (record.event === 'inputs') add('', () => ({ line: 'inputs', record: recorder.seal(text) }));
      else add('', text);
    },
    doubtsBefore: (walk) => (before?.doubts ?? []).filter((one) => one.walk === walk).map(({ call }) => call),
    seen: (way, key, item) => add('', () => ({ line: 'handled', way, key, ...item })),
    seenBefore: () => before?.seen ?? new Map(),
    walked(walk, ok) {
      add('', () => ({ line: 'walk', walk, ok }));
      return log.written();
    },
    close: () => log.close(),
  };
}
