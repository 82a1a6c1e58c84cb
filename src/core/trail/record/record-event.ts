/** From what happens in a walk to the record of it: plain, and with every known secret hidden. */
import { type Hiding, recordedDifference, recordedVerdict } from '../../echo/recorded-verdict.js';
import type { Phases } from '../../exchange/response/received.js';
import type { Patience } from '../../pacing/tries.js';
import { pagesBlock } from '../../paging/further-pages.js';
import { type BriefProblem, brief } from '../../problem/brief.js';
import { type Problem, positionText } from '../../problem/problem.js';
import { isoTime } from '../../value/iso-time.js';
import type { ValueMap } from '../../value/written.js';
import type { StepDetails, StepEvent, TableEvent, UndoEvent, WalkEvent } from '../events.js';
import type { PlacedProblem, RecordOf, RunRecord, StepRecord } from './run-record.js';

/** Of the walk that an event is of. */
export interface RecordFacts {
  readonly walk: number;
  readonly hiding: Hiding;
  /** What hosts refused since the walk began. */
  readonly patience: () => Patience;
}

export function recordOf(event: WalkEvent, facts: RecordFacts): RunRecord {
  const { walk, hiding } = facts;
  const { hide } = hiding;
  switch (event.event) {
    case 'step':
      return stepRecord(event, walk, hiding);
    case 'undo':
      return undoRecord(event, walk, hide);
    case 'row':
      return {
        event: 'row',
        walk,
        row: event.row,
        label: hide(event.label),
        ok: event.ok,
        problem: orNull(event.problem, hide),
      };
    case 'session-opened':
    case 'session-closed':
      return { event: event.event, session: event.name, problem: orNull(event.problem, hide) };
    case 'waiting': {
      const { host, wait, added, why, told } = event;
      const { throttled, triedAgain, waited } = facts.patience();
      const soFar = { throttled, triedAgain, waited: Math.round(waited) };
      return { event: 'waiting', walk, host, wait: Math.round(wait), added: Math.round(added), why, told, ...soFar };
    }
    case 'table':
      return tableRecord(event, walk, hiding);
    case 'in-doubt':
      return { event: 'in-doubt', walk, call: hide(event.call) };
  }
}

const orNull = (problem: Problem | undefined, hide: Hiding['hide']): BriefProblem | null =>
  problem ? brief(problem, hide) : null;

const rounded = (ms: number): number => Math.round(ms * 1000) / 1000;

function stepRecord(event: StepEvent, walk: number, hiding: Hiding): StepRecord {
  const { label, kind, state, depth, row, rowLabel, member, sent, kept, problems, told } = event;
  const { hide } = hiding;
  const received = sent?.outcome.received;
  const verdicts = sent?.verdicts ?? [];
  const failed = verdicts.filter(({ ok }) => !ok);
  // Set one by one: object spread is measurably slower here.
  const record: StepRecord = {
    event: 'step',
    walk,
    step: label,
    kind,
    state,
    depth,
    row: row ?? null,
    member: member === undefined ? null : hide(member),
    status: received?.status ?? null,
    time: received ? rounded(received.time) : null,
    expectations: {
      met: verdicts.length - failed.length,
      failed: failed.map((one) => recordedVerdict(one, hiding)),
    },
    kept: [...kept],
    problems: problems.map((problem) => brief(problem, hide)),
    echo: sent?.echo || null,
  };
  if (rowLabel) record.label = hide(rowLabel);
  if (sent) {
    record.method = sent.wire.method;
    record.url = hide(sent.wire.shownUrl);
    record.tries = sent.tries;
    if (sent.tries > 0) record.at = isoTime(sent.at);
    if (sent.contradiction)
      record.contradiction = { at: hide(sent.contradiction.at), found: hide(sent.contradiction.found) };
    if (sent.warnings.length > 0) record.warnings = sent.warnings.map(hide);
  }
  if (received) {
    if (received.parts.reason !== '') record.reason = hide(received.parts.reason);
    record.phases = phasesRecord(received.parts.phases);
  }
  if (told) Object.assign(record, toldRecord(told, hiding));
  return record;
}

function phasesRecord({ lookup, connect, tls, waiting, receiving, total }: Phases): NonNullable<StepRecord['phases']> {
  const phases: NonNullable<StepRecord['phases']> = {
    waiting: rounded(waiting),
    receiving: rounded(receiving),
    total: rounded(total),
  };
  if (lookup !== undefined) phases.lookup = rounded(lookup);
  if (connect !== undefined) phases.connect = rounded(connect);
  if (tls !== undefined) phases.tls = rounded(tls);
  return phases;
}

export type FurtherPagesRecord = NonNullable<StepRecord['furtherPages']>;

export function furtherPagesRecord(
  further: NonNullable<StepDetails['further']>,
  { hide }: Pick<Hiding, 'hide'>,
): FurtherPagesRecord {
  const block = pagesBlock(further);
  return {
    items: hide(further.items),
    count: further.count,
    total: further.total?.number ?? null,
    block: block === undefined ? null : hide(block),
  };
}

function toldRecord(told: StepDetails, hiding: Hiding): Partial<StepRecord> {
  const { pages, further, seen, chosen, differences, members, unknown } = told;
  const { hide } = hiding;
  const { partial, total, doubt } = pages ?? {};
  return {
    ...(further && { furtherPages: furtherPagesRecord(further, hiding) }),
    ...(pages && {
      pages: {
        pages: pages.pages,
        items: pages.items,
        total: total ?? null,
        partial: partial === undefined ? null : hide(partial),
        ...(doubt !== undefined && { doubt: hide(doubt) }),
      },
    }),
    ...(seen && { seen: { asked: seen.asked, values: seen.values.map(hide) } }),
    ...(chosen !== undefined && { chosen: hide(chosen) }),
    ...(differences && { differences: differences.map((one) => recordedDifference(one, hiding)) }),
    ...(members && { members }),
    ...(unknown !== undefined && { unknown: hide(unknown) }),
  };
}

function undoRecord(
  { label, step, state, row, sent, problem }: UndoEvent,
  walk: number,
  hide: Hiding['hide'],
): RecordOf<'undo'> {
  const received = sent?.outcome.received;
  return {
    event: 'undo',
    walk,
    request: label,
    step,
    state,
    row: row ?? null,
    ...(received && {
      method: sent?.wire.method,
      status: received.status,
      ...(received.parts.reason !== '' && { reason: hide(received.parts.reason) }),
    }),
    problem: orNull(problem, hide),
  };
}

const tableRecord = (
  { label, row, columns, lines, count, before, to, show }: TableEvent,
  walk: number,
  { hideIn }: Hiding,
): RecordOf<'table'> => ({
  event: 'table',
  walk,
  step: label,
  row: row ?? null,
  columns: [...columns],
  rows: lines.map((line) => hideIn(line) as ValueMap),
  count,
  before,
  to: to ?? null,
  show,
});

/** A problem that is told by itself, with its place. */
export function placedRecord(problem: Problem, hide: Hiding['hide']): PlacedProblem {
  const { where, excerpt } = problem;
  return {
    ...brief(problem, hide),
    ...(where !== undefined && { where: hide(typeof where === 'string' ? where : positionText(where)) }),
    ...(excerpt !== undefined && { excerpt: hide(excerpt) }),
  };
}
