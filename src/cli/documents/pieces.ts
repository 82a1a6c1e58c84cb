/** Pieces that the documents of several commands share. */
import * as z from 'zod/mini';

export { difference, verdict } from '../../core/echo/echo.js';
export { briefProblem as problem } from '../../core/problem/brief.js';

/** Where an environment sends, through which proxies, and which certificates it trusts beside those of the system. */
export const ways = z.strictObject({
  origins: z.array(z.string()),
  proxies: z.array(z.string()),
  roots: z.array(z.string()),
});

export const pages = z.strictObject({
  pages: z.number(),
  items: z.number(),
  /** As the vendor announced it. */
  total: z.nullable(z.number()),
  /** Why not all of them were read. */
  partial: z.nullable(z.string()),
  /** Why there may be more, although nothing leads on. */
  doubt: z.optional(z.string()),
});

/** What a body says against a good status, where nothing is expected of it. */
export const contradiction = z.strictObject({ at: z.string(), found: z.string() });

/** Of a request that does not say how to read on: what its answer says about more than the list in it. */
export const furtherPages = z.strictObject({
  /** The place of the list, and how many items it has. */
  items: z.string(),
  count: z.number(),
  total: z.nullable(z.number()),
  /** `pages:` for the request file, as far as the answer tells. */
  block: z.nullable(z.string()),
});

export const session = z.strictObject({
  name: z.string(),
  kind: z.string(),
  open: z.boolean(),
  opened: z.nullable(z.string()),
  expires: z.nullable(z.string()),
  renewable: z.boolean(),
  claims: z.nullable(z.record(z.string(), z.unknown())),
});
