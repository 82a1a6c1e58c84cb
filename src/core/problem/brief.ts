/** A problem in a record or a document: without its place, what it was caused by as an error, and its data. */
import * as z from 'zod/mini';
import type { Problem } from './problem.js';

export const briefProblem = z.strictObject({
  code: z.string(),
  what: z.string(),
  cause: z.optional(z.string()),
  remedy: z.optional(z.string()),
});
export type BriefProblem = z.infer<typeof briefProblem>;

/** @param hide takes out what is secret */
export const brief = (
  { code, what, reason, remedy }: Problem,
  hide: (text: string) => string = (text) => text,
): BriefProblem => ({
  code,
  what: hide(what),
  ...(reason !== undefined && { cause: hide(reason) }),
  ...(remedy !== undefined && { remedy: hide(remedy) }),
});
