/** `run --undo RUN`: takes back what a run made and did not take back itself, the newest first. */
import type { Named, Names } from '../../expression/names.js';
import { closeSessions } from '../closing.js';
import type { UndoEvent, WalkEvent } from '../events.js';
import type { Before } from '../journal/before.js';
import type { Armed, Journal } from '../journal/journal.js';
import { sendRequest } from '../send.js';
import type { KeptName } from '../step-kind.js';
import { undoState } from '../undoing.js';
import type { Workspace } from '../workspace.js';

export interface UndoSummary {
  readonly run: string;
  readonly undone: number;
  /** Still there, as far as is known. */
  readonly notUndone: number;
}

/** What is left to be taken back, the newest first. */
export const leftOf = ({ armed, undone }: Before): readonly Armed[] =>
  [...armed.values()].filter(({ at }) => !undone.has(at)).reverse();

export async function undoRun(
  workspace: Workspace,
  before: Before,
  journal: Journal,
  report: (event: WalkEvent) => void,
  signal: AbortSignal,
): Promise<UndoSummary> {
  let [undone, notUndone] = [0, 0];
  workspace.onSessionOpened = (name) => report({ event: 'session-opened', name, problem: undefined });
  for (const armed of leftOf(before)) {
    if (signal.aborted) break;
    const event = await undoOne(workspace, armed, signal);
    journal.undone(armed.at, event.state, event.problem);
    report(event);
    if (event.state === 'done' || event.state === 'not needed') undone += 1;
    else notUndone += 1;
  }
  await closeSessions(workspace, report);
  workspace.onSessionOpened = undefined;
  return { run: before.header.run, undone, notUndone };
}

async function undoOne(workspace: Workspace, armed: Armed, signal: AbortSignal): Promise<UndoEvent> {
  const { step, request, row, given, names } = armed;
  const values = new Map(given.map((one) => [one.name, one]));
  const { state, sent, problem } = await undoState(async (ending) => {
    const prepared = await workspace.prepare(request);
    const done = await sendRequest(workspace, prepared, {
      given: (input): Named | undefined => values.get(input),
      caller: namesFromKept(names),
      signal: ending,
      step: `undo of ${step}`,
      row,
    });
    return { sent: done, kept: [], problems: done.problems };
  }, signal);
  return { event: 'undo', label: request, step, state, row, sent, problem };
}

const namesFromKept = (kept: readonly KeptName[]): Names => {
  const known = new Map(kept.map((one) => [one.name, one]));
  return { lookup: (name) => known.get(name), known: () => known.keys(), layers: ['values of the run'] };
};
