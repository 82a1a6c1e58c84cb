/** Two runs of the same: what was mended, what broke, and which steps became slower, beyond what their times differ by anyhow. */
import type { RunRecord } from '../trail/record/run-record.js';
import { type Case, casesOf } from './cases.js';
import { Spread } from './spread.js';

export interface ChangedCase {
  readonly environment: string;
  readonly walked: string;
  readonly name: string;
  /** What failed: in the later run where it broke or still fails, else in the earlier one. */
  readonly what: string;
  readonly echo: string | null;
}

/** Milliseconds. */
export interface Times {
  readonly count: number;
  readonly p25: number;
  readonly p50: number;
  readonly p75: number;
  readonly p95: number;
}

export interface StepTimes {
  readonly walked: string;
  readonly step: string;
  readonly before: Times;
  readonly after: Times;
  /** `unknown`: too few exchanges to tell. */
  readonly verdict: 'slower' | 'faster' | 'same' | 'unknown';
}

export interface RunComparison {
  readonly broke: ChangedCase[];
  readonly fixed: ChangedCase[];
  readonly stillFailing: ChangedCase[];
  /** Cases that only the later run has, and that only the earlier one has. */
  readonly added: number;
  readonly gone: number;
  readonly passed: number;
  readonly steps: StepTimes[];
}

/** With fewer exchanges there is no verdict: two of them differ by chance. */
const leastToTell = 5;

interface Known {
  readonly cases: ReadonlyMap<string, Case>;
  readonly spreads: ReadonlyMap<string, Spread>;
}

export async function compareRuns(
  earlier: AsyncIterable<RunRecord>,
  later: AsyncIterable<RunRecord>,
): Promise<RunComparison> {
  const [before, after] = [await known(earlier), await known(later)];
  const [broke, fixed, stillFailing]: [ChangedCase[], ChangedCase[], ChangedCase[]] = [[], [], []];
  let [added, gone, passed] = [0, 0, 0];
  for (const [key, one] of after.cases) {
    const other = before.cases.get(key);
    if (!other) added += 1;
    if (one.state === 'failed') (other?.state === 'failed' ? stillFailing : broke).push(changed(one));
    else if (other?.state === 'failed' && one.state === 'ok') fixed.push(changed(one, other));
    else if (one.state === 'ok') passed += 1;
  }
  for (const key of before.cases.keys()) if (!after.cases.has(key)) gone += 1;
  const steps = [...after.spreads].flatMap(([key, spread]) => {
    const other = before.spreads.get(key);
    const [walked = '', step = ''] = key.split('\n');
    return other ? [stepTimes(walked, step, timesOf(other), timesOf(spread))] : [];
  });
  return { broke, fixed, stillFailing, added, gone, passed, steps };
}

async function known(records: AsyncIterable<RunRecord>): Promise<Known> {
  const cases = new Map<string, Case>();
  const spreads = new Map<string, Spread>();
  const seen = new Map<string, number>();
  for await (const one of casesOf(records)) {
    const { record, environment, walked } = one;
    // A row is known by what it is called: its number may be another in the later run.
    const row = record?.label ?? (record?.row == null ? '' : String(record.row));
    const own = [environment, walked, row, record?.member ?? '', record?.step ?? one.name].join('\n');
    const count = seen.get(own) ?? 0;
    seen.set(own, count + 1);
    cases.set(`${own}\n${count}`, one);
    if (!record || record.time === null) continue;
    const key = `${walked}\n${record.step}`;
    const spread = spreads.get(key) ?? new Spread();
    spread.add(record.time);
    spreads.set(key, spread);
  }
  return { cases, spreads };
}

const changed = (
  { environment, walked, name, record, ...own }: Case,
  failed: Pick<Case, 'lines'> = own,
): ChangedCase => ({
  environment,
  walked,
  name,
  what: failed.lines[0] ?? '',
  echo: record?.echo ?? null,
});

const timesOf = (spread: Spread): Times => ({
  count: spread.count,
  p25: spread.at(0.25),
  p50: spread.at(0.5),
  p75: spread.at(0.75),
  p95: spread.at(0.95),
});

/** The middle halves of both may not meet, and the medians differ by more than a tenth. */
function stepTimes(walked: string, step: string, before: Times, after: Times): StepTimes {
  const few = Math.min(before.count, after.count) < leastToTell;
  const slower = after.p25 > before.p75 && after.p50 > before.p50 * 1.1;
  const faster = after.p75 < before.p25 && after.p50 < before.p50 * 0.9;
  return { walked, step, before, after, verdict: few ? 'unknown' : slower ? 'slower' : faster ? 'faster' : 'same' };
}
