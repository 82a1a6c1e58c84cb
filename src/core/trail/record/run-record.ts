/**
 * The record of a run: what happened, as plain data that holds no secret. The journal keeps it, `run --json` prints it, and all
 * that is told of a run is made of it, while it happens or later from disk. Fields may be added; `version` grows where one
 * changes its meaning.
 */
import * as z from 'zod/mini';
import { difference, phases, verdict } from '../../echo/echo.js';
import { briefProblem } from '../../problem/brief.js';

export const recordVersion = 1;

const counts = z.strictObject({ ok: z.number(), failed: z.number(), skipped: z.number() });

/** Of several environments at once, the one that it belongs to. */
const environment = z.optional(z.string());

const contradiction = z.strictObject({ at: z.string(), found: z.string() });

/** Beside its text, where in a file it was found. */
const placedProblem = z.extend(briefProblem, { where: z.optional(z.string()), excerpt: z.optional(z.string()) });
export type PlacedProblem = z.infer<typeof placedProblem>;

export const pagesRead = z.strictObject({
  pages: z.number(),
  items: z.number(),
  /** As the vendor announced it. */
  total: z.nullable(z.number()),
  /** Why not all of them were read. */
  partial: z.nullable(z.string()),
  /** Why there may be more, although nothing leads on. */
  doubt: z.optional(z.string()),
});

/** Of a request that does not say how to read on: what its response says about more than the list in it. */
export const furtherPages = z.strictObject({
  /** The place of the list, and how many items it has. */
  items: z.string(),
  count: z.number(),
  total: z.nullable(z.number()),
  /** `pages:` for the request file, as far as the response tells. */
  block: z.nullable(z.string()),
});

/** A command began to walk in an environment. */
const run = z.strictObject({
  event: z.literal('run'),
  version: z.number(),
  /** What the run is known by from now on. */
  run: z.string(),
  /** ISO 8601. */
  at: z.string(),
  environment: z.string(),
  /** Where its requests may go. */
  hosts: z.optional(z.array(z.string())),
  /** Of its rows it walks a part. */
  part: z.optional(z.strictObject({ part: z.number(), of: z.number(), by: z.optional(z.string()) })),
  /** All environments of the command. */
  environments: z.array(z.string()),
  /** Trails, requests, and folders of them, as they were named. */
  names: z.array(z.string()),
  /** A run before was resumed. */
  resumed: z.boolean(),
  /** Nothing is sent. */
  dryRun: z.boolean(),
});

/** A trail, or a request as one, is walked. */
const walk = z.strictObject({
  event: z.literal('walk'),
  /** Which of the walks of the run it is, from 0. */
  walk: z.number(),
  walked: z.string(),
  /** Where its rows come from. */
  rows: z.nullable(z.string()),
  /** Labels of its own steps. */
  steps: z.array(z.string()),
  environment,
});

/** What it was given: where it has rows, as far as that is known before there is one. */
const inputs = z.strictObject({
  event: z.literal('inputs'),
  walk: z.number(),
  inputs: z.record(z.string(), z.any()),
  environment,
});

/** About how many rows there are, where it is followed. */
const rows = z.strictObject({ event: z.literal('rows'), walk: z.number(), about: z.number(), environment });

const step = z.strictObject({
  event: z.literal('step'),
  walk: z.number(),
  step: z.string(),
  kind: z.string(),
  state: z.enum(['ok', 'failed', 'skipped']),
  /** 0 for the steps of the trail itself, 1 for those of a trail inside it. */
  depth: z.number(),
  row: z.nullable(z.number()),
  /** What the row is told apart by: the value of its first column. */
  label: z.optional(z.string()),
  /** Which one of for-each it is taken for. */
  member: z.nullable(z.string()),
  environment,
  method: z.optional(z.string()),
  url: z.optional(z.string()),
  /** ISO 8601: when it was sent, the last time. */
  at: z.optional(z.string()),
  /** How often it was sent: 0 where nothing is. */
  tries: z.optional(z.number()),
  status: z.nullable(z.number()),
  /** As the server words its status. */
  reason: z.optional(z.string()),
  /** Milliseconds. */
  time: z.nullable(z.number()),
  phases: z.optional(phases),
  contradiction: z.optional(contradiction),
  expectations: z.strictObject({ met: z.number(), failed: z.array(verdict) }),
  /** Names that were kept. */
  kept: z.array(z.string()),
  problems: z.array(briefProblem),
  /** What is doubtful about the request as it left, and about the response. */
  warnings: z.optional(z.array(z.string())),
  pages: z.optional(pagesRead),
  furtherPages: z.optional(furtherPages),
  seen: z.optional(z.strictObject({ asked: z.number(), values: z.array(z.string()) })),
  chosen: z.optional(z.string()),
  differences: z.optional(z.array(difference)),
  members: z.optional(z.strictObject({ ok: z.number(), failed: z.number(), passed: z.number() })),
  /** Where nothing is sent: why this could not be computed. */
  unknown: z.optional(z.string()),
  echo: z.nullable(z.string()),
});

const undo = z.strictObject({
  event: z.literal('undo'),
  walk: z.number(),
  /** The request that takes the step back. */
  request: z.string(),
  step: z.string(),
  state: z.enum(['done', 'failed', 'not needed', 'impossible', 'in doubt']),
  row: z.nullable(z.number()),
  environment,
  method: z.optional(z.string()),
  status: z.optional(z.number()),
  reason: z.optional(z.string()),
  problem: z.nullable(briefProblem),
});

const row = z.strictObject({
  event: z.literal('row'),
  walk: z.number(),
  row: z.number(),
  label: z.string(),
  ok: z.boolean(),
  environment,
  problem: z.nullable(briefProblem),
});

const session = z.strictObject({
  event: z.enum(['session-opened', 'session-closed']),
  session: z.string(),
  environment,
  problem: z.nullable(briefProblem),
});

/** A part of the rows was walked to its end. */
const part = z.strictObject({
  event: z.literal('part'),
  walk: z.number(),
  part: z.number(),
  of: z.number(),
  /** How many rows there are in all parts, and a digest of them in their order. */
  rows: z.number(),
  source: z.string(),
  /** How many of them are of this part. */
  own: z.number(),
  /** Digests of the trail and of the environment's file, and the program with its version: what all parts have alike. */
  trail: z.string(),
  environmentFile: z.string(),
  program: z.string(),
  environment,
});

/** A host asked for patience. */
const waiting = z.strictObject({
  event: z.literal('waiting'),
  walk: z.number(),
  host: z.string(),
  /** Milliseconds. */
  wait: z.number(),
  /** By how many of them the wait of before grew. */
  added: z.number(),
  why: z.string(),
  /** Whether the server said how long. */
  told: z.boolean(),
  /** Of the walk so far: responses that said "too busy", requests that were sent again, milliseconds that hosts were left alone. */
  throttled: z.number(),
  triedAgain: z.number(),
  waited: z.number(),
  environment,
});

const table = z.strictObject({
  event: z.literal('table'),
  walk: z.number(),
  step: z.string(),
  row: z.nullable(z.number()),
  columns: z.array(z.string()),
  /** Of a long table the beginning. */
  rows: z.array(z.record(z.string(), z.any())),
  count: z.number(),
  /** Of walks before, ahead of these in the file. */
  before: z.number(),
  to: z.nullable(z.string()),
  /** It is for people too. */
  show: z.boolean(),
  environment,
});

/** A changing call whose response was lost: it may or may not have happened. */
const inDoubt = z.strictObject({
  event: z.literal('in-doubt'),
  walk: z.number(),
  call: z.string(),
  environment,
});

/** What a walk came to. */
export const summaryRecord = z.strictObject({
  event: z.literal('summary'),
  run: z.string(),
  walk: z.number(),
  walked: z.string(),
  ok: z.boolean(),
  interrupted: z.boolean(),
  environment,
  /** `before`: how many of them an earlier command walked. */
  rows: z.nullable(z.strictObject({ ok: z.number(), failed: z.number(), before: z.number() })),
  steps: counts,
  expectations: z.strictObject({ met: z.number(), failed: z.number() }),
  throttled: z.number(),
  triedAgain: z.number(),
  /** Milliseconds that hosts were left alone for. */
  waited: z.number(),
  /** Responses whose body said no to their good status, and what the first of them said. */
  contradictions: z.number(),
  firstContradiction: z.optional(z.string()),
  undone: z.number(),
  /** What may still be there. */
  notUndone: z.array(z.string()),
  inDoubt: z.array(z.string()),
  /** Milliseconds. */
  time: z.number(),
  /** What ended the rows early. */
  ended: z.optional(placedProblem),
  /** The one that decides the exit status. */
  problem: z.nullable(briefProblem),
});

/** Between two walks of a run that is repeated. */
const resting = z.strictObject({ event: z.literal('resting'), time: z.number() });

/** It was interrupted before all was walked. */
const unfinished = z.strictObject({ event: z.literal('unfinished'), run: z.string() });

/** Of several environments, one whose hosts are not there. */
const unreachable = z.strictObject({
  event: z.literal('unreachable'),
  environment: z.string(),
  problem: placedProblem,
});

/** Of a run that was to be resumed, and has finished. */
const nothingLeft = z.strictObject({
  event: z.literal('nothing-left'),
  run: z.string(),
  /** How it had come to its end. */
  ok: z.boolean(),
});

/** Of a run whose failed part was to be walked. */
const nothingFailed = z.strictObject({ event: z.literal('nothing-failed'), run: z.string() });

/** Rows are not what they were in the run before. */
const rowsChanged = z.strictObject({ event: z.literal('rows-changed'), run: z.string(), changes: z.string() });

/** What taking back a run came to. */
const undoSummary = z.strictObject({
  event: z.literal('undo-summary'),
  run: z.string(),
  undone: z.number(),
  notUndone: z.number(),
  /** Calls of which it is not known whether they happened. */
  inDoubt: z.array(z.string()),
});

export const runRecord = z.discriminatedUnion('event', [
  run,
  walk,
  inputs,
  rows,
  step,
  undo,
  row,
  part,
  session,
  waiting,
  table,
  inDoubt,
  summaryRecord,
  resting,
  unfinished,
  unreachable,
  nothingLeft,
  nothingFailed,
  rowsChanged,
  undoSummary,
]);

export type RunRecord = z.infer<typeof runRecord>;
export type RecordOf<Event extends RunRecord['event']> = Extract<RunRecord, { readonly event: Event }>;
export type StepRecord = RecordOf<'step'>;
export type SummaryRecord = RecordOf<'summary'>;
