/** The documents of `run --json` and `report --json`: the records of runs, a line each, and what is made of them at the end. */
import * as z from 'zod/mini';
import { partsProofSchema } from '../../core/trail/record/parts-proof.js';
import { runRecord, summaryRecord } from '../../core/trail/record/run-record.js';

const counted = {
  ...z.omit(summaryRecord, {
    event: true,
    run: true,
    walk: true,
    walked: true,
    environment: true,
    time: true,
    ended: true,
  }).shape,
  /** It came to its end: it was neither killed nor interrupted, nor is it still under way. */
  finished: z.boolean(),
};

const changedCase = z.strictObject({
  environment: z.string(),
  walked: z.string(),
  name: z.string(),
  /** What failed. */
  what: z.string(),
  echo: z.nullable(z.string()),
});

/** Milliseconds. */
const times = z.strictObject({
  count: z.number(),
  p25: z.number(),
  p50: z.number(),
  p75: z.number(),
  p95: z.number(),
});

export const runDocuments = {
  report: z.strictObject({
    event: z.literal('report'),
    runs: z.array(z.string()),
    ...counted,
    walks: z.array(z.strictObject({ run: z.string(), environment: z.string(), walked: z.string(), ...counted })),
    /** For runs of parts: whether every row was walked once. */
    parts: z.optional(z.array(partsProofSchema)),
  }),
  'report compare': z.strictObject({
    /** The runs. */
    before: z.string(),
    after: z.string(),
    broke: z.array(changedCase),
    fixed: z.array(changedCase),
    stillFailing: z.array(changedCase),
    /** Steps that only one of them has. */
    added: z.number(),
    gone: z.number(),
    /** In both. */
    passed: z.number(),
    steps: z.array(
      z.strictObject({
        walked: z.string(),
        step: z.string(),
        before: times,
        after: times,
        /** `unknown` where there were too few exchanges to tell. */
        verdict: z.enum(['slower', 'faster', 'same', 'unknown']),
      }),
    ),
  }),
  run: runRecord,
  'run matrix': z.strictObject({
    event: z.literal('matrix'),
    checks: z.array(z.string()),
    subjects: z.array(z.strictObject({ name: z.string(), results: z.record(z.string(), z.string()) })),
    deviations: z.array(
      z.strictObject({
        subject: z.string(),
        check: z.string(),
        place: z.string(),
        expected: z.string(),
        found: z.string(),
        /** Empty where nothing was exchanged. */
        echo: z.string(),
      }),
    ),
  }),
} as const;
