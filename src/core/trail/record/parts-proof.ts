/** Whether runs of parts were the whole: each row once, all of them over the same rows by the same trail. */
import type { RecordOf, RunRecord } from './run-record.js';

export interface PartsProof {
  readonly walked: string;
  readonly environment: string;
  readonly of: number;
  /** Parts of which no run is there. */
  readonly missing: number[];
  /** Parts that did not come to their end, with their runs. */
  readonly unfinished: { part: number; run: string }[];
  /** How many rows there are; null where no part came to its end. */
  readonly rows: number | null;
  readonly once: number;
  /** Numbers of rows, of many the first. */
  readonly never: number[];
  readonly twice: number[];
  readonly neverCount: number;
  readonly twiceCount: number;
  /** What is not the same in all parts. */
  readonly differing: ('rows' | 'trail' | 'number of parts')[];
  readonly whole: boolean;
}

/** Numbers of rows that are listed. */
const mostListed = 20;

interface Gathered {
  readonly walked: string;
  readonly environment: string;
  readonly began: Map<number, string>;
  readonly ended: Map<number, RecordOf<'part'>>;
  readonly of: Set<number>;
  /** How often a row came, by its number; a byte each. */
  seen: Uint8Array;
}

/** Told the records of all parts, one run after the other. */
export function partsProof(): { take(record: RunRecord): void; proofs(): PartsProof[] } {
  const all = new Map<string, Gathered>();
  let run: RecordOf<'run'> | undefined;
  let current: Gathered | undefined;
  return {
    take(record: RunRecord) {
      if (record.event === 'run') {
        run = record;
        current = undefined;
      } else if (record.event === 'walk' && run?.part) {
        const key = `${run.environment}\n${record.walked}`;
        current = all.get(key) ?? {
          walked: record.walked,
          environment: run.environment,
          began: new Map(),
          ended: new Map(),
          of: new Set(),
          seen: new Uint8Array(1024),
        };
        all.set(key, current);
        current.began.set(run.part.part, run.run);
        current.of.add(run.part.of);
      } else if (record.event === 'row' && current) {
        if (record.row >= current.seen.length) {
          const more = new Uint8Array(Math.max(record.row + 1, current.seen.length * 2));
          more.set(current.seen);
          current.seen = more;
        }
        current.seen[record.row] = Math.min(2, (current.seen[record.row] ?? 0) + 1);
      } else if (record.event === 'part' && current) current.ended.set(record.part, record);
    },
    proofs: () => [...all.values()].map(proofOf),
  };
}

function proofOf({ walked, environment, began, ended, of: numbers, seen }: Gathered): PartsProof {
  const of = Math.max(...numbers);
  const parts = Array.from({ length: of }, (_, index) => index + 1);
  const missing = parts.filter((part) => !began.has(part));
  const unfinished = parts.flatMap((part) => {
    const run = began.get(part);
    return run !== undefined && !ended.has(part) ? [{ part, run }] : [];
  });
  const records = [...ended.values()];
  const differs = (key: 'source' | 'trail'): boolean => new Set(records.map((one) => one[key])).size > 1;
  const differing = [
    ...(numbers.size > 1 ? (['number of parts'] as const) : []),
    ...(differs('source') ? (['rows'] as const) : []),
    ...(differs('trail') ? (['trail'] as const) : []),
  ];
  const rows = records.length === 0 ? null : Math.max(...records.map((one) => one.rows));
  let [once, neverCount, twiceCount] = [0, 0, 0];
  const [never, twice]: [number[], number[]] = [[], []];
  for (let row = 1; row < Math.max(seen.length, (rows ?? 0) + 1); row += 1) {
    const times = seen[row] ?? 0;
    if (times === 1) once += 1;
    else if (times > 1) {
      twiceCount += 1;
      if (twice.length < mostListed) twice.push(row);
    } else if (rows !== null && row <= rows) {
      neverCount += 1;
      if (never.length < mostListed) never.push(row);
    }
  }
  const whole =
    missing.length + unfinished.length + differing.length + neverCount + twiceCount === 0 && once === (rows ?? -1);
  return {
    walked,
    environment,
    of,
    missing,
    unfinished,
    rows,
    once,
    never,
    twice,
    neverCount,
    twiceCount,
    differing,
    whole,
  };
}
