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

const user = described(z.string(), 'The user.');
const password = described(z.string(), 'The password, usually `${secret.NAME}`.');

const basic = described(
  z.strictObject({ kind: z.literal('basic'), about: z.optional(about), user, password }),
  'User and password with every request (RFC 7617).',
);

const digest = described(
  z.strictObject({ kind: z.literal('digest'), about: z.optional(about), user, password }),
  'A proof of the password for each request (RFC 7616); the first refusal says what the server wants.',
);

const apiKey = described(
  z.strictObject({
    kind: z.literal('api-key'),
    about: z.optional(about),
    key: described(z.string(), 'The key, usually `${secret.NAME}`.'),
    header: described(z.optional(z.string()), 'The name of the header that takes it.'),
    query: described(z.optional(z.string()), 'The name of the query parameter that takes it.'),
    cookie: described(z.optional(z.string()), 'The name of the cookie that takes it.'),
  }),
  'A key that is sent with every request, in one of a header, a query parameter and a cookie.',
);

export const sessionFile = described(
  z.discriminatedUnion('kind', [bearer, login, basic, digest, apiKey]),
  'A session: one way to authenticate.',
);
export type SessionFile = z.infer<typeof sessionFile>;
export type BearerFile = z.infer<typeof bearer>;
export type LoginFile = z.infer<typeof login>;
export type BasicFile = z.infer<typeof basic>;
export type DigestFile = z.infer<typeof digest>;
export type ApiKeyFile = z.infer<typeof apiKey>;
