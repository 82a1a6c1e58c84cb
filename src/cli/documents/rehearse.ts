/** The documents of `rehearse --json`: what is rehearsed, and each request with its response, a line each. */
import * as z from 'zod/mini';

export const rehearseDocuments = {
  rehearse: z.discriminatedUnion('event', [
    z.strictObject({
      event: z.literal('rehearsing'),
      version: z.number(),
      origin: z.string(),
      sources: z.array(z.string()),
      operations: z.number(),
    }),
    z.strictObject({
      event: z.literal('rehearsed'),
      method: z.string(),
      /** The path with its query. */
      target: z.string(),
      /** null where the connection was ended on purpose. */
      status: z.nullable(z.number()),
      from: z.enum(['echo', 'example', 'made up', 'memory', 'refusal', 'trouble', 'token']),
      operation: z.nullable(z.string()),
      /** What is wrong with the request. */
      faults: z.array(z.string()),
    }),
  ]),
  'rehearse record': z.strictObject({
    file: z.string(),
    run: z.string(),
    exchanges: z.number(),
    /** Without a response, or with one of which only the beginning was recorded. */
    leftOut: z.number(),
  }),
} as const;
