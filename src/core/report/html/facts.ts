/** What a page about runs shows, gathered from their records in one pass: of much the counts, of failures all. */

import type { RecordOf, RunRecord, StepRecord } from '../../trail/record/run-record.js';
import { type Case, casesOf } from '../cases.js';
import { type Matrix, makeMatrix } from '../matrix.js';
import { together } from '../reporter.js';
import { type RunSummary, runSummary } from '../run-summary.js';
import { Spread } from '../spread.js';
import { lost } from './lost.js';

export interface StepFacts {
  readonly walked: string;
  readonly step: string;
  ok: number;
  failed: number;
  skipped: number;
  readonly spread: Spread;
}

/** An exchange with its phases. */
export interface Exchange {
  readonly walked: string;
  readonly name: string;
  /** When it was sent, in milliseconds since 1970; of a record before there was one, undefined. */
  readonly began: number | undefined;
  readonly time: number;
  readonly phases: NonNullable<StepRecord['phases']>;
  readonly status: number | null;
  readonly failed: boolean;
}

/** Failures of one step that expected the same. */
export interface FailureGroup {
  readonly walked: string;
  readonly step: string;
  readonly expected: string;
  readonly cases: Case[];
}

export interface Waits {
  count: number;
  /** Milliseconds. */
  waited: number;
  readonly why: Set<string>;
}

export interface Given {
  readonly walked: string;
  readonly environment: string;
  readonly inputs: RecordOf<'inputs'>['inputs'];
}

export interface Facts {
  readonly runs: RecordOf<'run'>[];
  /** What was given to walks, each way once; of many the first. */
  readonly given: readonly Given[];
  readonly summary: RunSummary;
  readonly matrix: Matrix;
  readonly all: Spread;
  readonly steps: readonly StepFacts[];
  readonly statuses: ReadonlyMap<number, number>;
  /** In their order; of a long run the first. */
  readonly first: readonly Exchange[];
  /** The slowest, where not all are among the first. */
  readonly slowest: readonly Exchange[];
  readonly failures: readonly FailureGroup[];
  readonly failed: number;
  readonly waits: ReadonlyMap<string, Waits>;
  /** Milliseconds of all walks. */
  readonly time: number;
}

const mostExchanges = 30;
const mostGiven = 50;

export async function factsOf(records: AsyncIterable<RunRecord>): Promise<Facts> {
  const totals = runSummary();
  const matrix = makeMatrix();
  const told = together([totals, matrix]);
  const gathered = new Gathered();
  async function* passed(): AsyncIterable<RunRecord> {
    for await (const record of records) {
      told.take(record);
      gathered.take(record);
      yield record;
    }
  }
  for await (const one of casesOf(passed())) gathered.takeCase(one);
  const { exchanges, slowest, ...rest } = gathered.facts();
  const hidden = exchanges.length < gathered.all.count;
  return {
    ...rest,
    first: exchanges,
    slowest: hidden ? slowest : [],
    summary: totals.summary(),
    matrix: matrix.matrix(),
  };
}

class Gathered {
  readonly runs: RecordOf<'run'>[] = [];
  readonly all = new Spread();
  private readonly steps = new Map<string, StepFacts>();
  private readonly statuses = new Map<number, number>();
  private readonly exchanges: Exchange[] = [];
  private slowest: Exchange[] = [];
  private readonly failures = new Map<string, FailureGroup>();
  private readonly waits = new Map<string, Waits>();
  private readonly times = new Map<string, number>();
  private readonly given = new Map<string, Given>();
  private walked = '';
  private failed = 0;

  take(record: RunRecord): void {
    if (record.event === 'run') this.runs.push(record);
    else if (record.event === 'walk') this.walked = record.walked;
    else if (record.event === 'inputs') {
      const { inputs, environment = this.runs.at(-1)?.environment ?? '' } = record;
      const given = { walked: this.walked, environment, inputs };
      if (this.given.size < mostGiven) this.given.set(JSON.stringify(given), given);
    } else if (record.event === 'summary') this.times.set(`${record.run} ${record.walk}`, record.time);
    else if (record.event === 'waiting') {
      const waits = this.waits.get(record.host) ?? { count: 0, waited: 0, why: new Set() };
      this.waits.set(record.host, waits);
      waits.count += 1;
      waits.waited += record.added;
      waits.why.add(record.why);
    }
  }

  takeCase(one: Case): void {
    const { record, walked, state } = one;
    if (state === 'failed') this.fail(one);
    if (!record) return;
    const key = `${walked}\n${record.step}`;
    const step = this.steps.get(key) ?? {
      walked,
      step: record.step,
      ok: 0,
      failed: 0,
      skipped: 0,
      spread: new Spread(),
    };
    this.steps.set(key, step);
    step[state] += 1;
    const { status, time, phases, at } = record;
    const came = status ?? (one.silent ? lost : undefined);
    if (came !== undefined) this.statuses.set(came, (this.statuses.get(came) ?? 0) + 1);
    if (time === null || !phases) return;
    step.spread.add(time);
    this.all.add(time);
    const began = at === undefined ? undefined : Date.parse(at);
    const exchange = { walked, name: one.name, began, time, phases, status, failed: state === 'failed' };
    if (this.exchanges.length < mostExchanges) this.exchanges.push(exchange);
    const last = this.slowest.at(-1);
    if (this.slowest.length < 10 || (last && time > last.time))
      this.slowest = [...this.slowest, exchange].sort((a, b) => b.time - a.time).slice(0, 10);
  }

  private fail(one: Case): void {
    this.failed += 1;
    const step = one.record?.step ?? one.name;
    const expected =
      one.record?.expectations.failed.map(({ place, expected: wanted = '' }) => `${place} ${wanted}`).join('; ') ?? '';
    const key = [one.walked, step, expected === '' ? (one.problem?.code ?? '') : expected].join('\n');
    const group = this.failures.get(key) ?? { walked: one.walked, step, expected, cases: [] };
    this.failures.set(key, group);
    group.cases.push(one);
  }

  facts(): Omit<Facts, 'summary' | 'matrix' | 'first' | 'slowest'> & {
    exchanges: readonly Exchange[];
    slowest: readonly Exchange[];
  } {
    const { runs, all, statuses, exchanges, slowest, waits, failed } = this;
    const time = [...this.times.values()].reduce((sum, one) => sum + one, 0);
    return {
      runs,
      given: [...this.given.values()],
      all,
      statuses,
      exchanges,
      slowest,
      waits,
      failed,
      time,
      steps: [...this.steps.values()],
      failures: [...this.failures.values()],
    };
  }
}
