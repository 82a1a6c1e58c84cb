/** The documents of secrets: names, never values. */
import * as z from 'zod/mini';
import { ways } from './pieces.js';

const named = { name: z.string(), environment: z.string() };
const renewed = {
  /** Encrypted again. */
  renewed: z.array(z.strictObject(named)),
  /** What could not be opened, and stays as it was. */
  left: z.array(z.strictObject({ ...named, why: z.string() })),
};

export const secretDocuments = {
  'secret list': z.strictObject({
    secrets: z.array(
      z.strictObject({
        name: z.string(),
        environment: z.nullable(z.string()),
        ways: z.array(z.extend(ways, { environment: z.string() })),
      }),
    ),
    shared: z.array(z.strictObject({ ...named, recipients: z.array(z.string()) })),
    /** What the files of the collection use, whether it is stored or not. */
    used: z.array(
      z.strictObject({
        name: z.string(),
        files: z.array(z.string()),
        /** `missing`: neither is it stored, nor shared, nor does the process environment say it. */
        from: z.enum(['store', 'process environment', 'shared', 'command', 'missing']),
      }),
    ),
  }),
  'secret share': z.strictObject({
    environment: z.string(),
    file: z.string(),
    names: z.array(z.string()),
    recipients: z.array(z.string()),
  }),
  'secret share all': z.strictObject(renewed),
  'secret recipients': z.strictObject({
    recipients: z.array(z.strictObject({ name: z.string(), key: z.string() })),
    ...renewed,
  }),
  /** `from`: the file of the private key, or the variable that holds it. */
  'secret key': z.strictObject({ key: z.string(), from: z.string() }),
};
