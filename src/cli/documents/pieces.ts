/** Pieces that the documents of several commands share. */
import * as z from 'zod/mini';

export { difference, verdict } from '../../core/echo/echo.js';
export { briefProblem as problem } from '../../core/problem/brief.js';
export { furtherPages, pagesRead as pages } from '../../core/trail/record/run-record.js';

/** Where an environment sends, through which proxies, and which certificates it trusts beside those of the system. */
export const ways = z.strictObject({
  origins: z.array(z.string()),
  proxies: z.array(z.string()),
  roots: z.array(z.string()),
});

/** What a body says against a good status, where nothing is expected of it. */
export const contradiction = z.strictObject({ at: z.string(), found: z.string() });

export const session = z.strictObject({
  name: z.string(),
  kind: z.string(),
  open: z.boolean(),
  opened: z.nullable(z.string()),
  expires: z.nullable(z.string()),
  renewable: z.boolean(),
  claims: z.nullable(z.record(z.string(), z.unknown())),
});
