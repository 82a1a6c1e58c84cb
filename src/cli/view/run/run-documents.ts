/** A walk for programs: one line of JSON an event. */
import { type BriefProblem, brief } from '../../../core/problem/brief.js';
import type { Problem } from '../../../core/problem/problem.js';
import type { Matrix } from '../../../core/run/matrix.js';
import type { UndoSummary } from '../../../core/run/undo-run.js';
import type { StepEvent, Summary, TableEvent, Told, WalkEvent } from '../../../core/trail/events.js';
import { plain, type Value, type ValueMap } from '../../../core/value/written.js';
import type { Documents } from '../../documents/documents.js';
import { furtherPagesDocument } from '../response/further-pages.js';
import { contradictionDocument, differenceDocument, verdictDocument } from '../response/verdict-document.js';

type Hide = (text: string) => string;

const orNull = (problem: Problem | undefined): BriefProblem | null => (problem ? brief(problem) : null);

const rounded = (ms: number): number => Math.round(ms * 1000) / 1000;

type EventDocument = Documents['run step' | 'run undo' | 'run row' | 'run session' | 'run waiting' | 'run table'];

export function eventDocument(event: WalkEvent, hide: Hide): EventDocument {
  switch (event.event) {
    case 'step':
      return stepDocument(event, hide);
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
      return { event: 'row', row: event.row, label: event.label, ok: event.ok, problem: orNull(event.problem) };
    case 'session-opened':
    case 'session-closed':
      return { event: event.event, session: event.name, problem: orNull(event.problem) };
    case 'waiting':
      return {
        event: 'waiting',
        host: event.host,
        wait: Math.round(event.wait),
        why: event.why,
        told: event.told,
      };
    case 'table':
      return tableDocument(event);
  }
}

function stepDocument(event: StepEvent, hide: Hide): Documents['run step'] {
  const { label, kind, state, depth, row, member, sent, kept, problems, told } = event;
  const received = sent?.outcome.received;
  const verdicts = sent?.verdicts ?? [];
  return {
    event: 'step',
    step: label,
    kind,
    state,
    depth,
    row: row ?? null,
    member: member ?? null,
    ...(sent && { method: sent.wire.method, url: hide(sent.wire.shownUrl), tries: sent.tries }),
    ...(sent?.contradiction && { contradiction: contradictionDocument(sent.contradiction, hide) }),
    status: received?.status ?? null,
    time: received ? rounded(received.time) : null,
    expectations: {
      met: verdicts.filter(({ ok }) => ok).length,
      failed: verdicts.filter(({ ok }) => !ok).map(verdictDocument),
    },
    kept: [...kept],
    problems: problems.map((problem) => brief(problem)),
    ...(told && toldDocument(told, hide)),
    echo: sent?.echo || null,
  };
}

function toldDocument({ pages, further, seen, chosen, differences, members, unknown }: Told, hide: Hide): object {
  return {
    ...(further && { furtherPages: furtherPagesDocument(further, hide) }),
    ...(pages && { pages: { ...pages, total: pages.total ?? null, partial: pages.partial ?? null } }),
    ...(seen && { seen: { asked: seen.asked, values: [...seen.values] } }),
    ...(chosen !== undefined && { chosen }),
    ...(differences && { differences: differences.map(differenceDocument) }),
    ...(members && { members }),
    ...(unknown !== undefined && { unknown }),
  };
}

const tableDocument = ({ label, columns, lines, count, before, to }: TableEvent): Documents['run table'] => ({
  event: 'table',
  step: label,
  columns: [...columns],
  rows: lines.map((line: ValueMap) =>
    Object.fromEntries(Object.entries(line).map(([name, value]) => [name, plain(value as Value)])),
  ),
  count,
  before,
  to: to ?? null,
});

export function summaryDocument(summary: Summary, walked: string): Documents['run summary'] {
  const { rows, contradictions, inDoubt, notUndone, problem, ended: _, ...facts } = summary;
  return {
    event: 'summary',
    walked,
    ...facts,
    contradictions: contradictions.count,
    waited: Math.round(summary.waited),
    time: Math.round(summary.time),
    rows: rows ?? null,
    notUndone: [...notUndone],
    inDoubt: [...inDoubt],
    problem: orNull(problem),
  };
}

export function matrixDocument({ checks, subjects, deviations }: Matrix): Documents['run matrix'] {
  return {
    event: 'matrix',
    checks: [...checks],
    subjects: subjects.map(({ name, cells }) => ({ name, results: Object.fromEntries(cells) })),
    deviations: deviations.map((deviation) => ({ ...deviation })),
  };
}

export const undoSummaryDocument = ({
  run,
  undone,
  notUndone,
  inDoubt,
}: UndoSummary): Documents['run undo summary'] => ({
  event: 'undo-summary',
  run,
  undone,
  notUndone,
  inDoubt: [...inDoubt],
});
