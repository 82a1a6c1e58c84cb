/** Pieces that the documents of several commands share. */
import * as z from 'zod/mini';

export { difference, verdict } from '../../core/echo/echo.js';
export { briefProblem as problem } from '../../core/problem/brief.js';

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

export const session = z.strictObject({
  name: z.string(),
  kind: z.string(),
  open: z.boolean(),
  opened: z.nullable(z.string()),
  expires: z.nullable(z.string()),
  renewable: z.boolean(),
  claims: z.nullable(z.record(z.string(), z.unknown())),
});
