/** `sessions/NAME.yaml`: one way to authenticate. A new kind adds its schema to the union here. */
import * as z from 'zod/mini';
import { described } from './described.js';
import { about, values } from './parts.js';

const call = z.strictObject({
  send: described(z.string(), 'The request.'),
  give: described(z.optional(values), 'Values for its inputs.'),
});

const bearer = described(
  z.strictObject({
    kind: z.literal('bearer'),
    about: z.optional(about),
    token: described(z.string(), 'The token, usually `${secret.NAME}`; sent as `Authorization: Bearer …` (RFC 6750).'),
  }),
  'A token that is sent with every request.',
);

const login = described(
  z.strictObject({
    kind: z.literal('login'),
    about: z.optional(about),
    open: described(call, 'The request that opens the session.'),
    token: described(z.string(), 'The place of the token in its answer.'),
    lasts: described(
      z.optional(z.string()),
      'How long the token is good for: a duration such as 30m, or the place of a number of seconds or of a date.',
    ),
    headers: described(
      z.optional(values),
      'What is sent with every request; `${token}` is the token. `Authorization: Bearer ${token}` where nothing is said.',
    ),
    close: described(z.optional(call), 'The request that closes the session; it is sent with the session.'),
  }),
  'A token that a request obtains.',
);

export const sessionFile = described(z.union([bearer, login]), 'A session: one way to authenticate.');
export type SessionFile = z.infer<typeof sessionFile>;
export type BearerFile = z.infer<typeof bearer>;
export type LoginFile = z.infer<typeof login>;
