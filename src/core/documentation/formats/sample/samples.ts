/** The file that samples are kept in: exchanges as they were, without what is secret. */
import * as z from 'zod/mini';

export const sample = z.strictObject({
  /** The echo or the file that it came from. */
  from: z.string(),
  method: z.string(),
  url: z.string(),
  /** The type and the text of the body that was sent. */
  sent: z.optional(z.strictObject({ type: z.string(), text: z.string() })),
  status: z.number(),
  received: z.optional(z.strictObject({ type: z.string(), text: z.string() })),
});
export type Sample = z.infer<typeof sample>;

export const samplesFile = z.strictObject({ samples: z.array(sample) });
