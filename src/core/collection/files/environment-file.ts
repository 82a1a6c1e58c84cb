/** `environments/NAME.yaml`. */
import * as z from 'zod/mini';
import { described } from './described.js';
import { about, timeout, values } from './parts.js';

export const environmentFile = described(
  z.strictObject({
    about: z.optional(about),
    changes: described(
      z.optional(z.enum(['allow', 'ask', 'refuse'])),
      'What happens to a call that changes something here. `ask` where nothing is said.',
    ),
    variables: described(z.optional(values), 'Names for requests, such as `origin`. Worked out anew for each request.'),
    hosts: described(
      z.optional(z.array(z.string())),
      'Credentials go to these hosts only. The host of `origin` where nothing is said.',
    ),
    timeout: z.optional(timeout),
  }),
  'An environment: where requests go, and what is allowed there.',
);
export type EnvironmentFile = z.infer<typeof environmentFile>;
