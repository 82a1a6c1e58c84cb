/** The documents of `run --json`: a line an event, a summary as the last. */
import * as z from 'zod/mini';
import { contradiction, difference, furtherPages, pages, problem, verdict } from './pieces.js';

export const runDocuments = {
  'run step': z.strictObject({
    event: z.literal('step'),
    step: z.string(),
    kind: z.string(),
    state: z.string(),
    depth: z.number(),
    row: z.nullable(z.number()),
    member: z.nullable(z.string()),
    environment: z.optional(z.string()),
    method: z.optional(z.string()),
    url: z.optional(z.string()),
    contradiction: z.optional(contradiction),
    /** 0 where nothing was sent. */
    tries: z.optional(z.number()),
    status: z.nullable(z.optional(z.number())),
    time: z.nullable(z.optional(z.number())),
    expectations: z.strictObject({ met: z.number(), failed: z.array(verdict) }),
    kept: z.array(z.string()),
    problems: z.array(problem),
    pages: z.optional(pages),
    furtherPages: z.optional(furtherPages),
    seen: z.optional(z.strictObject({ asked: z.number(), values: z.array(z.string()) })),
    chosen: z.optional(z.string()),
    differences: z.optional(z.array(difference)),
    members: z.optional(z.strictObject({ ok: z.number(), failed: z.number(), passed: z.number() })),
    unknown: z.optional(z.string()),
    echo: z.nullable(z.string()),
  }),
  'run undo': z.strictObject({
    event: z.literal('undo'),
    request: z.string(),
    step: z.string(),
    state: z.string(),
    row: z.nullable(z.number()),
    environment: z.optional(z.string()),
    problem: z.nullable(problem),
  }),
  'run row': z.strictObject({
    event: z.literal('row'),
    row: z.number(),
    label: z.string(),
    ok: z.boolean(),
    environment: z.optional(z.string()),
    problem: z.nullable(problem),
  }),
  'run waiting': z.strictObject({
    event: z.literal('waiting'),
    host: z.string(),
    /** Milliseconds. */
    wait: z.number(),
    why: z.string(),
    /** Whether the server said how long. */
    told: z.boolean(),
    environment: z.optional(z.string()),
  }),
  'run table': z.strictObject({
    event: z.literal('table'),
    step: z.string(),
    columns: z.array(z.string()),
    /** Of a long table the beginning. */
    rows: z.array(z.record(z.string(), z.any())),
    count: z.number(),
    /** Of walks before, ahead of these in the file. */
    before: z.number(),
    to: z.nullable(z.string()),
    environment: z.optional(z.string()),
  }),
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
  'run undo summary': z.strictObject({
    event: z.literal('undo-summary'),
    run: z.string(),
    undone: z.number(),
    notUndone: z.number(),
    /** Calls of which it is not known whether they happened. */
    inDoubt: z.array(z.string()),
  }),
  'run nothing left': z.strictObject({
    event: z.literal('nothing-left'),
    run: z.string(),
    /** How it had come to its end. */
    ok: z.boolean(),
  }),
  'run session': z.strictObject({
    event: z.enum(['session-opened', 'session-closed']),
    session: z.string(),
    environment: z.optional(z.string()),
    problem: z.nullable(problem),
  }),
  'run summary': z.strictObject({
    event: z.literal('summary'),
    run: z.string(),
    walked: z.string(),
    ok: z.boolean(),
    interrupted: z.boolean(),
    environment: z.optional(z.string()),
    /** `before`: how many of them an earlier command walked. */
    rows: z.nullable(z.strictObject({ ok: z.number(), failed: z.number(), before: z.number() })),
    steps: z.strictObject({ ok: z.number(), failed: z.number(), skipped: z.number() }),
    expectations: z.strictObject({ met: z.number(), failed: z.number() }),
    refused: z.number(),
    triedAgain: z.number(),
    /** Milliseconds that hosts were left alone for. */
    waited: z.number(),
    /** Answers whose body said no to their good status. */
    contradictions: z.number(),
    undone: z.number(),
    notUndone: z.array(z.string()),
    inDoubt: z.array(z.string()),
    time: z.number(),
    problem: z.nullable(problem),
  }),
} as const;
