/** An echo: one recorded exchange. The schema is that of a line in the log and of `echo show --json`. */
import * as z from 'zod/mini';
import { briefProblem } from '../problem/brief.js';

const lines = z.array(z.tuple([z.string(), z.string()]));

const body = z.strictObject({
  /** Decoded text, or base64 where the bytes are none. */
  text: z.string(),
  encoding: z.enum(['utf-8', 'base64']),
  /** Bytes in full. */
  size: z.number(),
  /** Only the beginning is recorded here. */
  cut: z.optional(z.boolean()),
  /** Where all of it is, from the folder of the echoes. */
  file: z.optional(z.string()),
});
export type RecordedBody = z.infer<typeof body>;

/** Milliseconds each. */
export const phases = z.strictObject({
  lookup: z.optional(z.number()),
  connect: z.optional(z.number()),
  tls: z.optional(z.number()),
  waiting: z.optional(z.number()),
  receiving: z.optional(z.number()),
  total: z.optional(z.number()),
});

/** As a comparison tells it. */
export const difference = z.strictObject({
  at: z.string(),
  kind: z.enum(['changed', 'added', 'removed']),
  left: z.optional(z.any()),
  right: z.optional(z.any()),
});

export const verdict = z.strictObject({
  place: z.string(),
  ok: z.boolean(),
  /** What was expected, by the names of matchers. */
  matchers: z.optional(z.record(z.string(), z.any())),
  /** What was found, unless it is long. */
  value: z.optional(z.any()),
  expected: z.optional(z.string()),
  found: z.optional(z.string()),
  detail: z.optional(z.string()),
  near: z.optional(z.string()),
  /** Of an expected document: the first places that differ. */
  deviations: z.optional(z.array(difference)),
});

export const echo = z.strictObject({
  /** RUN.NUMBER */
  id: z.string(),
  /** ISO 8601, when it was sent. */
  at: z.string(),
  environment: z.string(),
  request: z.optional(z.string()),
  operation: z.optional(z.string()),
  /** The sessions that it was sent with. */
  sessions: z.optional(z.array(z.string())),
  /** What the request was given, secrets hidden. */
  inputs: z.optional(z.record(z.string(), z.any())),
  /** The step's name and its row, where a trail sent it. */
  step: z.optional(z.string()),
  row: z.optional(z.number()),
  /** It was sent again after this, or a redirect was followed. */
  again: z.optional(z.boolean()),
  /** It left, and what became of it was not recorded: the program was ended meanwhile. Else a later line of the same id says it. */
  unfinished: z.optional(z.boolean()),
  sent: z.strictObject({
    method: z.string(),
    url: z.string(),
    headers: lines,
    body: z.optional(body),
  }),
  received: z.optional(
    z.strictObject({
      status: z.number(),
      reason: z.string(),
      headers: lines,
      body: z.optional(body),
      finalUrl: z.optional(z.string()),
      hops: z.optional(
        z.array(
          z.strictObject({
            status: z.number(),
            url: z.string(),
            method: z.optional(z.string()),
            /** What did not go along to the next address. */
            dropped: z.optional(z.array(z.string())),
          }),
        ),
      ),
      remoteAddress: z.optional(z.string()),
      /** Where it is not HTTP/1.1. */
      protocol: z.optional(z.string()),
      tls: z.optional(
        z.strictObject({
          protocol: z.string(),
          cipher: z.string(),
          subject: z.optional(z.string()),
          issuer: z.optional(z.string()),
          until: z.optional(z.string()),
          fingerprint: z.optional(z.string()),
        }),
      ),
      trailers: z.optional(lines),
      hints: z.optional(z.array(z.strictObject({ status: z.number(), headers: lines }))),
      /** Bytes of the body as they came, where they were compressed, or went to a file. */
      wireSize: z.optional(z.number()),
    }),
  ),
  phases: z.optional(phases),
  trouble: z.optional(z.extend(briefProblem, { where: z.optional(z.string()) })),
  /** All expectations where one failed; else only how many were met. */
  met: z.number(),
  failed: z.optional(z.array(verdict)),
  kept: z.optional(z.record(z.string(), z.any())),
});
export type Echo = z.infer<typeof echo>;
