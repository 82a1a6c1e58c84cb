/** The documents of `run --json` and `report --json`: the records of runs, a line each, and what is made of them at the end. */
import * as z from 'zod/mini';
import { runRecord, summaryRecord } from '../../core/trail/record/run-record.js';
import { problem } from './pieces.js';

const counted = {
  rows: summaryRecord.shape.rows,
  steps: summaryRecord.shape.steps,
  expectations: summaryRecord.shape.expectations,
  throttled: z.number(),
  triedAgain: z.number(),
  waited: z.number(),
  contradictions: z.number(),
  firstContradiction: z.optional(z.string()),
  undone: z.number(),
  notUndone: z.array(z.string()),
  inDoubt: z.array(z.string()),
  /** It came to its end: it was neither killed nor interrupted, nor is it still under way. */
  finished: z.boolean(),
  interrupted: z.boolean(),
  ok: z.boolean(),
  problem: z.nullable(problem),
};

export const runDocuments = {
  report: z.strictObject({
    event: z.literal('report'),
    runs: z.array(z.string()),
    ...counted,
    walks: z.array(z.strictObject({ run: z.string(), environment: z.string(), walked: z.string(), ...counted })),
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
