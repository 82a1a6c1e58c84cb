/**
 * The lines of a run's journal: one JSON object each, appended as it happens. Between them stand the records of the run, which
 * have `event` in place of `line`: these lines are what a later command needs beyond that to resume it.
 */
import * as z from 'zod/mini';
import { briefProblem } from '../../problem/brief.js';

/** What of each plan is walked: all of it, none of it, or only the rows of these digests. */
const part = z.union([z.literal('all'), z.literal('none'), z.array(z.string())]);
export type Part = z.infer<typeof part>;

const runOptions = z.strictObject({
  rows: z.optional(z.string()),
  atOnce: z.optional(z.number()),
  /** How often all is walked; nothing for as long as nobody ends it. */
  repeat: z.optional(z.number()),
  /** Milliseconds from one beginning to the next. */
  every: z.number(),
  until: z.optional(z.enum(['ok', 'failed'])),
  /** It was made of parts, not all of whose rows need be there. */
  joined: z.optional(z.boolean()),
  /** Of the rows of every plan, one part. */
  part: z.optional(z.strictObject({ part: z.number(), of: z.number(), by: z.optional(z.string()) })),
  /** By plan; all of every plan by default. */
  parts: z.optional(z.array(part)),
});
export type RunOptions = z.infer<typeof runOptions>;

/** Values by name: in the open, or, where they hold anything secret, sealed with the user's key. */
const kept = z.array(
  z.strictObject({
    name: z.string(),
    origin: z.string(),
    value: z.optional(z.any()),
    sealed: z.optional(z.string()),
    /** It is known to be secret by its declaration, and not only by what it holds. */
    secret: z.optional(z.boolean()),
  }),
);
export type RecordedNames = z.infer<typeof kept>;

const at = z.string();
const undoStates = z.enum(['done', 'failed', 'not needed', 'impossible', 'in doubt']);

/** The record of what a walk was given, sealed: it may be what nobody else is to see. */
export const sealedInputs = z.strictObject({ line: z.literal('inputs'), record: z.string() });

export const journalLine = z.discriminatedUnion('line', [
  /** The first: what was asked for. */
  z.strictObject({
    line: z.literal('run'),
    run: z.string(),
    at: z.string(),
    /** Of the process, which may still be at it. */
    process: z.number(),
    environment: z.string(),
    names: z.array(z.string()),
    /** By `--set`, sealed. */
    settings: z.string(),
    options: runOptions,
    /** SHA-256 of the trails that are walked. */
    digest: z.string(),
  }),
  z.strictObject({ line: z.literal('resumed'), run: z.string(), at: z.string(), process: z.number() }),
  /** A command that takes back what the run made: it is not resumed any more. */
  z.strictObject({ line: z.literal('undo'), run: z.string(), at: z.string(), process: z.number() }),
  /** A call that changes something is about to leave. */
  z.strictObject({
    line: z.literal('leaving'),
    at,
    row: z.optional(z.number()),
    call: z.string(),
    key: z.optional(z.string()),
  }),
  z.strictObject({
    line: z.literal('step'),
    at,
    echo: z.optional(z.string()),
    kept: z.optional(kept),
    /** What its response leaves in the columns of a table. */
    cells: z.optional(kept),
    problem: z.optional(briefProblem),
  }),
  /** What a row leaves in its table. */
  z.strictObject({ line: z.literal('cells'), at, cells: z.any() }),
  /** A row is known by its content. */
  z.strictObject({ line: z.literal('row-begun'), walk: z.number(), row: z.number(), digest: z.string() }),
  z.strictObject({
    line: z.literal('row'),
    /** Which of the walks of the command. */
    walk: z.number(),
    row: z.number(),
    digest: z.string(),
    label: z.optional(z.string()),
    problem: z.optional(briefProblem),
  }),
  z.strictObject({
    line: z.literal('armed'),
    at,
    step: z.string(),
    request: z.string(),
    row: z.optional(z.number()),
    given: kept,
    /** Names that the environment may want, such as those of the row. */
    names: kept,
  }),
  /** A call that takes something back is about to leave. */
  z.strictObject({ line: z.literal('undoing'), at, call: z.string(), key: z.optional(z.string()) }),
  z.strictObject({ line: z.literal('undone'), at, state: undoStates, problem: z.optional(briefProblem) }),
  /** An item that once-by passes over from now on. */
  z.strictObject({
    line: z.literal('handled'),
    way: z.string(),
    key: z.string(),
    walk: z.number(),
    place: z.number(),
    /** What it leaves in its table. */
    cells: z.optional(z.record(z.string(), z.any())),
  }),
  sealedInputs,
  z.strictObject({ line: z.literal('walk'), walk: z.number(), ok: z.boolean() }),
]);
export type JournalLine = z.infer<typeof journalLine>;
