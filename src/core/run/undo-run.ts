/** `run --undo RUN`: takes back what a run made and did not take back itself, the newest first. */
import type { Named, Names } from '../expression/names.js';
import type { Workspace } from '../sending/workspace.js';
import type { UndoEvent, WalkEvent } from '../trail/events.js';
import type { Armed, Journal } from '../trail/journal.js';
import type { KeptName } from '../trail/names/kept-names.js';
import { recordOf } from '../trail/record/record-event.js';
import type { RunRecord } from '../trail/record/run-record.js';
import { closeSessions } from '../trail/walking/closing.js';
import { takeBack } from '../trail/walking/taking-back.js';
import { undoState } from '../trail/walking/undoing.js';
import type { RecordedRun } from './journal/recorded-run.js';

export interface UndoSummary {
  readonly run: string;
  readonly undone: number;
  /** Still there, as far as is known. */
  readonly notUndone: number;
  /** Calls of which it is not known whether they happened: neither those of the run, nor those that take them back. */
  readonly inDoubt: readonly string[];
}

/** Calls of the run that left, and whose responses are not known: what they made is not known either. */
export const doubtsIn = ({ doubts, steps }: RecordedRun): readonly string[] => [
  ...doubts.map(({ call }) => call),
  ...[...steps.values()].flatMap((group) =>
    [...group.values()].flatMap(({ state, call }) => (state === 'under way' ? [call] : [])),
  ),
];

/** What is left to be taken back, the newest first. */
export const leftOf = ({ armed, undone }: RecordedRun): readonly Armed[] =>
  [...armed.values()].filter(({ at }) => !undone.has(at)).reverse();

export async function undoRun(
  workspace: Workspace,
  before: RecordedRun,
  journal: Journal,
  tell: (record: RunRecord) => void,
  signal: AbortSignal,
): Promise<UndoSummary> {
  let [undone, notUndone] = [0, 0];
  const inDoubt = [...doubtsIn(before)];
  const facts = { walk: 0, hiding: workspace.redactor, patience: () => workspace.patience };
  const report = (event: WalkEvent): void => tell(recordOf(event, facts));
  const stopListening = workspace.listeners.add({
    sessionOpened: (name) => report({ event: 'session-opened', name, problem: undefined }),
  });
  for (const armed of leftOf(before)) {
    if (signal.aborted) break;
    const event = await undoOne(workspace, armed, journal, signal);
    journal.undone(armed.at, event.state, event.problem);
    report(event);
    if (event.state === 'done' || event.state === 'not needed') undone += 1;
    else if (event.state === 'in doubt') inDoubt.push(`undo of ${armed.step}: ${event.problem?.what ?? ''}`);
    else notUndone += 1;
  }
  await closeSessions(workspace, report);
  stopListening();
  return { run: before.header.run, undone, notUndone, inDoubt };
}

async function undoOne(workspace: Workspace, armed: Armed, journal: Journal, signal: AbortSignal): Promise<UndoEvent> {
  const { at, step, request, row, given, names } = armed;
  const values = new Map(given.map((one) => [one.name, one]));
  const { state, sent, problem } = await undoState(async (ending) => {
    const prepared = await workspace.prepare(request);
    const sending = {
      given: (input: string): Named | undefined => values.get(input),
      caller: namesFromKept(names),
      signal: ending,
      step: `undo of ${step}`,
      row,
    };
    return takeBack(workspace, prepared, sending, journal, at);
  }, signal);
  return { event: 'undo', label: request, step, state, row, sent, problem };
}

const namesFromKept = (kept: readonly KeptName[]): Names => {
  const known = new Map(kept.map((one) => [one.name, one]));
  return { lookup: (name) => known.get(name), known: () => known.keys(), layers: ['values of the run'] };
};
