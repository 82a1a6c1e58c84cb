/**
 * What records of runs come to. It counts as they come, whether they happen now or are read from disk, from one run or from
 * several together.
 */
import { contradictionText } from '../../place/contradiction.js';
import type { BriefProblem } from '../../problem/brief.js';
import { familyOf } from '../../problem/codes.js';
import { severityOf } from '../../problem/severity.js';
import type { RecordOf, RunRecord, StepRecord, SummaryRecord } from './run-record.js';

/** What a summary counts. */
export type Counted = Pick<
  SummaryRecord,
  | 'rows'
  | 'steps'
  | 'expectations'
  | 'contradictions'
  | 'firstContradiction'
  | 'throttled'
  | 'triedAgain'
  | 'waited'
  | 'undone'
  | 'notUndone'
  | 'inDoubt'
>;

interface StepCounts {
  readonly steps: { ok: number; failed: number; skipped: number };
  readonly expectations: { met: number; failed: number };
  /** Steps that were interrupted: who resumes the run takes them again. */
  interrupted: number;
}

const noSteps = (): StepCounts => ({
  steps: { ok: 0, failed: 0, skipped: 0 },
  expectations: { met: 0, failed: 0 },
  interrupted: 0,
});

const inRow = (row: number | null): string => (row === null ? '' : `row ${row}: `);

const contradictionOf = ({ row, member, step, contradiction }: StepRecord): string =>
  contradiction
    ? `${inRow(row)}${member === null ? '' : `${member}: `}${step}: ${contradictionText(contradiction)}`
    : '';

/** What could not be taken back. */
const leftOf = ({ step, request, row, problem }: RecordOf<'undo'>): string =>
  `${inRow(row)}${step} by ${request}${problem ? `: ${problem.what}` : ''}`;

export const moreSevereBrief = (one: BriefProblem | null, other: BriefProblem | null): BriefProblem | null => {
  const severity = (problem: BriefProblem | null): number => (problem ? severityOf(familyOf(problem.code)) : -1);
  return severity(one) >= severity(other) ? one : other;
};

/** Of one walk. */
export class WalkTotals {
  private readonly rows = { ok: 0, failed: 0, before: 0 };
  private readonly ended = noSteps();
  /** Of rows that have not come to their end. */
  private readonly open = new Map<number, StepCounts>();
  private contradictions = 0;
  private firstContradiction = '';
  private undone = 0;
  private readonly notUndone: string[] = [];
  private readonly inDoubt: string[] = [];
  private patience = { throttled: 0, triedAgain: 0, waited: 0 };
  /** The most severe that a row, or a step outside of rows, came to. */
  problem: BriefProblem | null = null;

  /** @param mayResume the walk may be resumed further on in the records: steps of unfinished rows are counted again then */
  constructor(private readonly mayResume: boolean) {}

  take(record: RunRecord): void {
    switch (record.event) {
      case 'step':
        this.takeStep(record);
        break;
      case 'row': {
        this.rows[record.ok ? 'ok' : 'failed'] += 1;
        this.problem = moreSevereBrief(this.problem, record.problem);
        const own = this.open.get(record.row);
        if (own) add(this.ended, own);
        this.open.delete(record.row);
        break;
      }
      case 'undo':
        if (record.state === 'done') this.undone += 1;
        else if (record.state === 'in doubt') this.inDoubt.push(`undo of ${leftOf(record)}`);
        else if (record.state === 'failed' || record.state === 'impossible') this.notUndone.push(leftOf(record));
        break;
      case 'in-doubt':
        this.inDoubt.push(record.call);
        break;
      case 'waiting':
      case 'summary': {
        const { throttled, triedAgain, waited } = record;
        this.patience = { throttled, triedAgain, waited };
      }
    }
  }

  private takeStep(record: StepRecord): void {
    const { row, depth, state, expectations, problems } = record;
    let counts = this.ended;
    if (row !== null && this.mayResume) {
      counts = this.open.get(row) ?? noSteps();
      this.open.set(row, counts);
    } else if (row === null && depth === 0 && state === 'failed')
      this.problem = moreSevereBrief(this.problem, problems[0] ?? null);
    counts.steps[state] += 1;
    counts.expectations.met += expectations.met;
    counts.expectations.failed += expectations.failed.length;
    if (problems[0]?.code === 'interrupted') counts.interrupted += 1;
    if (!record.contradiction) return;
    this.contradictions += 1;
    this.firstContradiction ||= contradictionOf(record);
  }

  /** A row that an earlier command walked. */
  rowBefore(ok: boolean): void {
    this.rows[ok ? 'ok' : 'failed'] += 1;
    this.rows.before += 1;
  }

  /** What had not come to its end is walked again, and counted then. */
  goneOnWith(): void {
    this.open.clear();
    this.ended.steps.failed -= this.ended.interrupted;
    this.ended.interrupted = 0;
    this.problem = null;
  }

  counted(hasRows: boolean): Counted {
    const all = noSteps();
    for (const one of [this.ended, ...this.open.values()]) add(all, one);
    const { steps, expectations } = all;
    const { contradictions, firstContradiction, undone, notUndone, inDoubt } = this;
    return {
      rows: hasRows ? { ...this.rows } : null,
      steps,
      expectations,
      ...this.patience,
      contradictions,
      ...(firstContradiction !== '' && { firstContradiction }),
      undone,
      notUndone,
      inDoubt,
    };
  }
}

function add(to: StepCounts, from: StepCounts): void {
  for (const state of ['ok', 'failed', 'skipped'] as const) to.steps[state] += from.steps[state];
  to.expectations.met += from.expectations.met;
  to.expectations.failed += from.expectations.failed;
  to.interrupted += from.interrupted;
}
