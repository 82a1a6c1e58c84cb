/** A walk for programs: one line of JSON an event. */
import type { Problem } from '../../core/problem/problem.js';
import type { Summary, WalkEvent } from '../../core/trail/events.js';
import type { Documents } from '../documents.js';

type Hide = (text: string) => string;
type ProblemDocument = NonNullable<Documents['run summary']['problem']>;

function brief({ code, what, reason, remedy }: Problem): ProblemDocument {
  return { code, what, ...(reason !== undefined && { cause: reason }), ...(remedy !== undefined && { remedy }) };
}

const orNull = (problem: Problem | undefined): ProblemDocument | null => (problem ? brief(problem) : null);

export function eventDocument(
  event: WalkEvent,
  hide: Hide,
): Documents['run step' | 'run undo' | 'run row' | 'run session'] {
  switch (event.event) {
    case 'step': {
      const { label, kind, state, depth, row, sent, kept, problems } = event;
      const received = sent?.outcome.received;
      const verdicts = sent?.verdicts ?? [];
      return {
        event: 'step',
        step: label,
        kind,
        state,
        depth,
        row: row ?? null,
        ...(sent && { method: sent.wire.method, url: hide(sent.wire.shownUrl) }),
        status: received?.status ?? null,
        time: received ? Math.round(received.time * 1000) / 1000 : null,
        expectations: { met: verdicts.filter(({ ok }) => ok).length, failed: verdicts.filter(({ ok }) => !ok) },
        kept: [...kept],
        problems: problems.map(brief),
        echo: sent?.echo ?? null,
      };
    }
    case 'undo':
      return {
        event: 'undo',
        request: event.label,
        step: event.step,
        state: event.state,
        row: event.row ?? null,
        problem: orNull(event.problem),
      };
    case 'row':
      return { event: 'row', row: event.row, ok: event.ok, problem: orNull(event.problem) };
    case 'session-opened':
    case 'session-closed':
      return { event: event.event, session: event.name, problem: orNull(event.problem) };
  }
}

export function summaryDocument(summary: Summary, walked: string): Documents['run summary'] {
  const { rows, inDoubt, problem, ended: _, ...facts } = summary;
  return {
    event: 'summary',
    walked,
    ...facts,
    time: Math.round(summary.time),
    rows: rows ?? null,
    inDoubt: [...inDoubt],
    problem: orNull(problem),
  };
}
