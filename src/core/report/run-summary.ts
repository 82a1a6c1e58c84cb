/** What a run came to, or several together: by their records, so that one that was killed is summed up too. */
import type { BriefProblem } from '../problem/brief.js';
import type { RecordOf, RunRecord } from '../trail/record/run-record.js';
import { type Counted, moreSevereBrief, WalkTotals } from '../trail/record/totals.js';
import { ownMember } from '../value/own-member.js';
import type { Reporter } from './reporter.js';

/** A walk of a run, as far as it came. */
export interface WalkSummary extends Counted {
  readonly run: string;
  readonly environment: string;
  readonly walked: string;
  /** It came to its end; else it was killed, or is still under way. */
  readonly finished: boolean;
  readonly interrupted: boolean;
  readonly ok: boolean;
  readonly problem: BriefProblem | null;
}

export interface RunSummary extends Omit<WalkSummary, 'run' | 'environment' | 'walked'> {
  readonly runs: string[];
  readonly walks: WalkSummary[];
}

interface Known {
  readonly run: string;
  readonly environment: string;
  readonly began: RecordOf<'walk'>;
  readonly totals: WalkTotals;
  summary: RecordOf<'summary'> | undefined;
}

/** Counts; `summary` may be asked for at any time. */
export function runSummary(): Reporter & { summary(): RunSummary } {
  const runs: string[] = [];
  const walks = new Map<string, Known>();
  let run = '';
  let environment = '';
  let current: Known | undefined;
  return {
    take(record: RunRecord) {
      if (record.event === 'run') {
        ({ run, environment } = record);
        current = undefined;
        if (!runs.includes(run)) runs.push(run);
      } else if (record.event === 'walk') {
        const key = `${run} ${record.walk}`;
        const before = walks.get(key);
        before?.totals.goneOnWith();
        current = before ?? { run, environment, began: record, totals: new WalkTotals(true), summary: undefined };
        current.summary = undefined;
        walks.set(key, current);
      } else {
        current?.totals.take(record);
        if (record.event === 'summary' && current) current.summary = record;
      }
    },
    summary() {
      const all = [...walks.values()].map(walkSummary);
      const none = new WalkTotals(false).counted(all.some(({ rows }) => rows !== null));
      const finished = all.length > 0 && all.every((one) => one.finished);
      return {
        ...all.reduce<Counted>(sum, none),
        runs,
        walks: all,
        finished,
        interrupted: all.some(({ interrupted }) => interrupted),
        ok: finished && all.every(({ ok }) => ok),
        problem: all.map(({ problem }) => problem).reduce(moreSevereBrief, null),
      };
    },
  };
}

function walkSummary({ run, environment, began, totals, summary }: Known): WalkSummary {
  const problem = summary ? summary.problem : totals.problem;
  return {
    ...totals.counted(began.rows !== null),
    run,
    environment,
    walked: began.walked,
    finished: summary !== undefined && !summary.interrupted,
    interrupted: summary?.interrupted ?? false,
    ok: summary?.ok ?? false,
    problem,
  };
}

function sum(one: Counted, other: Counted): Counted {
  const first = one.firstContradiction ?? other.firstContradiction;
  return {
    rows: one.rows && other.rows ? added(one.rows, other.rows) : (one.rows ?? other.rows),
    steps: added(one.steps, other.steps),
    expectations: added(one.expectations, other.expectations),
    throttled: one.throttled + other.throttled,
    triedAgain: one.triedAgain + other.triedAgain,
    waited: one.waited + other.waited,
    contradictions: one.contradictions + other.contradictions,
    ...(first !== undefined && { firstContradiction: first }),
    undone: one.undone + other.undone,
    notUndone: [...one.notUndone, ...other.notUndone],
    inDoubt: [...one.inDoubt, ...other.inDoubt],
  };
}

function added<Numbers extends Record<string, number>>(one: Numbers, other: Numbers): Numbers {
  return Object.fromEntries(
    Object.entries(one).map(([key, count]) => [key, count + (ownMember(other, key) as number)]),
  ) as Numbers;
}
