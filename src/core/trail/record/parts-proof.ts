/** Whether the runs of parts covered every row once, over the same rows, by the same trail. */
import * as z from 'zod/mini';
import { largest } from '../../value/largest.js';
import type { RecordOf, RunRecord } from './run-record.js';

const partsDiffer = ['number of parts', 'rows', 'trail', 'environment', 'program'] as const;
type PartsDiffer = (typeof partsDiffer)[number];

export const partsProofSchema = z.strictObject({
  walked: z.string(),
  environment: z.string(),
  of: z.number(),
  /** Parts without a run. */
  missing: z.array(z.number()),
  /** Parts that did not finish, with their runs. */
  unfinished: z.array(z.strictObject({ part: z.number(), run: z.string() })),
  /** How many rows there are; null where no part finished. */
  rows: z.nullable(z.number()),
  once: z.number(),
  /** Numbers of rows; of many, the first. */
  never: z.array(z.number()),
  twice: z.array(z.number()),
  neverCount: z.number(),
  twiceCount: z.number(),
  /** What is not the same in all parts. */
  differing: z.array(z.enum(partsDiffer)),
  /** Every row was walked once, and nothing differs. */
  complete: z.boolean(),
});
export type PartsProof = z.infer<typeof partsProofSchema>;

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
  const told: Readonly<Record<PartsDiffer, Iterable<number | string>>> = {
    'number of parts': numbers,
    rows: records.map(({ source }) => source),
    trail: records.map(({ trail }) => trail),
    environment: records.map(({ environmentFile }) => environmentFile),
    program: records.map(({ program }) => program),
  };
  const differing = partsDiffer.filter((one) => new Set(told[one]).size > 1);
  const rows = records.length === 0 ? null : largest(records.map((one) => one.rows));
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
  const complete =
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
    complete,
  };
}
