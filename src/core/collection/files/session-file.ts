/** `sessions/NAME.yaml`: one way to authenticate. A new kind adds its schema to the union here. */
import * as z from 'zod/mini';
import { described } from './described.js';
import { about, duration, expect, values } from './parts.js';

const call = z.strictObject({
  send: described(z.string(), 'The request.'),
  give: described(z.optional(values), 'Values for its inputs.'),
});

const walk = z.strictObject({
  trail: described(z.string(), 'The trail.'),
  give: described(z.optional(values), 'Values for its inputs.'),
});

/** What every kind may have. */
const shared = {
  about: z.optional(about),
  supply: described(
    z.optional(values),
    'Names for the requests that use the session, for vendors that want credentials in the body.',
  ),
  refused: described(
    z.optional(expect),
    'What a response looks like that refuses the session with another status than 401, by place; all of it must hold.',
  ),
};

const headers = described(
  z.optional(values),
  'What is sent with every request; `${token}` is the token. `Authorization: Bearer ${token}` by default.',
);

const bearer = described(
  z.strictObject({
    kind: z.literal('bearer'),
    ...shared,
    token: described(z.string(), 'The token, usually `${secret.NAME}`; sent as `Authorization: Bearer …` (RFC 6750).'),
  }),
  'A token that is sent with every request.',
);

const login = described(
  z.strictObject({
    kind: z.literal('login'),
    ...shared,
    open: described(z.union([call, walk]), 'The request that opens the session, or a trail of them.'),
    token: described(
      z.optional(z.string()),
      'The place of the token in its response, or in the last of the trail. None where cookies do it.',
    ),
    keep: described(
      z.optional(z.record(z.string(), z.string())),
      'Names for other values of that response, by place: for headers, supply and close.',
    ),
    lasts: described(
      z.optional(z.string()),
      'How long the token is good for: a duration such as 30m, or the place of a number of seconds or of a date.',
    ),
    headers,
    close: described(z.optional(call), 'The request that closes the session; it is sent with the session.'),
  }),
  'A token that a request obtains.',
);

const user = described(z.string(), 'The user.');
const password = described(z.string(), 'The password, usually `${secret.NAME}`.');

const basic = described(
  z.strictObject({ kind: z.literal('basic'), ...shared, user, password }),
  'User and password with every request (RFC 7617).',
);

const digest = described(
  z.strictObject({ kind: z.literal('digest'), ...shared, user, password }),
  'A proof of the password for each request (RFC 7616); the first refusal says what the server requires.',
);

const apiKey = described(
  z.strictObject({
    kind: z.literal('api-key'),
    ...shared,
    key: described(z.string(), 'The key, usually `${secret.NAME}`.'),
    header: described(z.optional(z.string()), 'The name of the header that takes it.'),
    query: described(z.optional(z.string()), 'The name of the query parameter that takes it.'),
    cookie: described(z.optional(z.string()), 'The name of the cookie that takes it.'),
  }),
  'A key that is sent with every request, in one of a header, a query parameter and a cookie.',
);

const certificate = described(
  z.strictObject({
    kind: z.literal('certificate'),
    ...shared,
    certificate: described(z.optional(z.string()), 'The client certificate in PEM, or its path.'),
    key: described(z.optional(z.string()), 'Its key in PEM, or its path; `${secret.NAME}` holds it best.'),
    bundle: described(z.optional(z.string()), 'Both in one PKCS#12 file instead: its path.'),
    passphrase: described(z.optional(z.string()), 'The pass phrase of the key or the bundle.'),
  }),
  'A client certificate, shown when the connection is made (mutual TLS).',
);

const wsSecurity = described(
  z.strictObject({
    kind: z.literal('ws-security'),
    ...shared,
    user,
    password,
    'password-type': described(
      z.optional(z.enum(['digest', 'text'])),
      'Whether a digest of the password goes along, or the password itself. `digest` by default.',
    ),
    lasts: described(
      z.optional(duration),
      'For how long a message is good: adds a timestamp with its end, such as 5m.',
    ),
  }),
  'User, password and time in the header of each SOAP envelope (WS-Security 1.1.1).',
);

const credentials = described(
  z.strictObject({ kind: z.literal('credentials'), ...shared }),
  'Names alone, in `supply`: nothing is sent but what the requests do with them.',
);

const several = z.union([z.string(), z.array(z.string())]);

const oauth2 = described(
  z.strictObject({
    kind: z.literal('oauth2'),
    ...shared,
    grant: described(
      z.enum([
        'client_credentials',
        'authorization_code',
        'urn:ietf:params:oauth:grant-type:device_code',
        'refresh_token',
        'password',
      ]),
      'The grant, by its registered name.',
    ),
    issuer: described(z.optional(z.string()), 'The issuer, whose metadata names the endpoints (RFC 8414, OpenID).'),
    endpoints: described(
      z.optional(
        z.strictObject({
          token: z.optional(z.string()),
          authorization: z.optional(z.string()),
          device: z.optional(z.string()),
          revocation: z.optional(z.string()),
        }),
      ),
      'Addresses of endpoints, where no metadata names them, or to use others.',
    ),
    client: described(
      z.strictObject({
        id: described(z.string(), 'The id of the client.'),
        secret: described(z.optional(z.string()), 'Its secret, usually `${secret.NAME}`.'),
        authentication: described(
          z.optional(
            z.enum(['client_secret_basic', 'client_secret_post', 'client_secret_jwt', 'private_key_jwt', 'none']),
          ),
          'How the client proves itself, by its registered name. `client_secret_basic` where it has a secret.',
        ),
        key: described(z.optional(z.string()), 'Its private key in PEM (PKCS#8), for `private_key_jwt`.'),
        'key-id': described(z.optional(z.string()), 'The id of the key.'),
        algorithm: described(
          z.optional(z.enum(['RS256', 'PS256', 'ES256', 'EdDSA'])),
          'The algorithm of the key. `RS256` by default.',
        ),
      }),
      'The client, as the vendor registered it.',
    ),
    scope: described(z.optional(several), 'What is asked for.'),
    audience: described(z.optional(several), 'For whom the token is to be good.'),
    resource: described(z.optional(several), 'At which addresses the token is to be good (RFC 8707).'),
    user: described(z.optional(z.string()), 'The user, for the grant `password`.'),
    password: described(z.optional(z.string()), 'The password, for the grant `password`.'),
    'refresh-token': described(z.optional(z.string()), 'A refresh token that you have, for the grant `refresh_token`.'),
    callback: described(
      z.optional(z.strictObject({ port: z.optional(z.number()), path: z.optional(z.string()) })),
      'Where the browser comes back to: a port of 127.0.0.1 (a free one by default) and a path (`/callback`).',
    ),
    headers,
  }),
  'A token by OAuth 2.0 (RFC 6749), renewed by its refresh token where there is one.',
);

export const sessionFile = described(
  z.discriminatedUnion('kind', [bearer, login, basic, digest, apiKey, oauth2, wsSecurity, certificate, credentials]),
  'A session: one way to authenticate.',
);
export type SessionFile = z.infer<typeof sessionFile>;
export type BearerFile = z.infer<typeof bearer>;
export type LoginFile = z.infer<typeof login>;
export type BasicFile = z.infer<typeof basic>;
export type DigestFile = z.infer<typeof digest>;
export type ApiKeyFile = z.infer<typeof apiKey>;
export type OAuth2File = z.infer<typeof oauth2>;
export type WsSecurityFile = z.infer<typeof wsSecurity>;
export type CertificateFile = z.infer<typeof certificate>;
export type CredentialsFile = z.infer<typeof credentials>;
