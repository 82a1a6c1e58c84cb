/** What a walk counts while it happens. */

import type { Patience } from '../../pacing/tries.js';
import { contradictionText } from '../../place/contradiction.js';
import type { Problem } from '../../problem/problem.js';
import type { StepEvent, Summary, UndoEvent, WalkEvent } from '../events.js';

/** Mutable counts of one walk. */
export interface Tally {
  rows: { ok: number; failed: number; before: number };
  steps: { ok: number; failed: number; skipped: number };
  expectations: { met: number; failed: number };
  contradictions: { count: number; first: string };
  undone: number;
  notUndone: string[];
  inDoubt: string[];
  ended: Problem | undefined;
  problem: Problem | undefined;
}

export const newTally = (): Tally => ({
  rows: { ok: 0, failed: 0, before: 0 },
  steps: { ok: 0, failed: 0, skipped: 0 },
  expectations: { met: 0, failed: 0 },
  contradictions: { count: 0, first: '' },
  undone: 0,
  notUndone: [],
  inDoubt: [],
  ended: undefined,
  problem: undefined,
});

export function count(event: WalkEvent, tally: Tally): void {
  if (event.event === 'step') {
    tally.steps[event.state] += 1;
    for (const { ok } of event.sent?.verdicts ?? []) tally.expectations[ok ? 'met' : 'failed'] += 1;
    const { contradiction } = event.sent ?? {};
    if (contradiction) {
      tally.contradictions.count += 1;
      tally.contradictions.first ||= `${memberText(event)}${event.label}: ${contradictionText(contradiction)}`;
    }
  } else if (event.event === 'row') tally.rows[event.ok ? 'ok' : 'failed'] += 1;
  else if (event.event === 'undo') {
    if (event.state === 'done') tally.undone += 1;
    if (event.state === 'in doubt') tally.inDoubt.push(`undo of ${leftText(event)}`);
    if (event.state === 'failed' || event.state === 'impossible') tally.notUndone.push(leftText(event));
  }
}

const memberText = ({ row, member }: StepEvent): string =>
  `${row === undefined ? '' : `row ${row}: `}${member === undefined ? '' : `${member}: `}`;

/** What could not be taken back. */
const leftText = ({ step, label, row, problem }: UndoEvent): string =>
  `${row === undefined ? '' : `row ${row}: `}${step} by ${label}${problem ? `: ${problem.what}` : ''}`;

export function summaryOf(
  tally: Tally,
  facts: Pick<Summary, 'run' | 'interrupted' | 'time'> & { readonly hasRows: boolean; readonly patience: Patience },
): Summary {
  const { rows, ...counts } = tally;
  const { run, interrupted, time, hasRows, patience } = facts;
  return {
    run,
    ok: tally.problem === undefined,
    interrupted,
    rows: hasRows ? rows : undefined,
    ...counts,
    ...patience,
    time,
  };
}
