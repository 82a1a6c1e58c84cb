/** The documents of what is imported and exported. */
import * as z from 'zod/mini';

export const interchangeDocuments = {
  export: z.strictObject({
    kind: z.string(),
    file: z.nullable(z.string()),
    /** Where it is text and went to no file. */
    text: z.nullable(z.string()),
    /** What has no place in it. */
    left: z.array(z.string()),
    /** Variables of the process environment that a program reads. */
    environment: z.array(z.string()),
  }),
  import: z.strictObject({
    kind: z.string(),
    written: z.array(z.string()),
    unchanged: z.array(z.string()),
    requests: z.array(z.string()),
    trail: z.nullable(z.string()),
    sessions: z.array(z.string()),
    /** Names of the secrets that are to be set. */
    secrets: z.array(z.string()),
    /** Inputs that have no value: the request, a space, the input. */
    inputs: z.array(z.string()),
    /** With the file that was written for it. */
    environment: z.nullable(z.strictObject({ name: z.string(), file: z.nullable(z.string()) })),
    /** Origins beside that of the environment. */
    hosts: z.array(z.string()),
    /** Files that are sent and are not in the collection. */
    files: z.array(z.string()),
    left: z.array(z.strictObject({ from: z.string(), what: z.string() })),
  }),
  'import arazzo': z.strictObject({
    written: z.array(z.string()),
    unchanged: z.array(z.string()),
    requests: z.array(z.string()),
    trails: z.array(z.string()),
    left: z.array(z.string()),
  }),
  'import collection': z.strictObject({
    folder: z.string(),
    written: z.array(z.string()),
    unchanged: z.array(z.string()),
    left: z.array(z.string()),
  }),
} as const;
