/** `environments/NAME.yaml`. */
import * as z from 'zod/mini';
import { described } from './described.js';
import { about, anyValue, pace, retry, timeout, values } from './parts.js';

export const environmentFile = described(
  z.strictObject({
    about: z.optional(about),
    changes: described(
      z.optional(z.enum(['allow', 'ask', 'refuse'])),
      'What happens to a call that changes something here. `ask` by default.',
    ),
    variables: described(z.optional(values), 'Names for requests, such as `origin`. Evaluated for each request.'),
    hosts: described(
      z.optional(
        z.union([
          z.literal('any'),
          z.array(z.string()),
          z.strictObject({
            from: described(z.string(), 'A csv file in the collection.'),
            column: described(z.string(), 'Its column with the hosts.'),
          }),
        ]),
      ),
      'The origins that this environment talks to: `host` (at the port of `origin`), `host:port`, `host:*`, a whole origin; or a column of a file. What the files of the collection say goes nowhere else. That of `origin` by default. `any` is for exploring: no secret and no session can be used then.',
    ),
    timeout: z.optional(timeout),
    pace: z.optional(pace),
    retry: z.optional(retry),
    version: described(
      z.optional(
        z.strictObject({
          request: described(z.string(), 'The request whose response says it.'),
          at: described(z.string(), 'The place of the version in that response.'),
          'at-least': described(z.optional(z.string()), 'The lowest that will do.'),
          under: described(z.optional(z.string()), 'The first that will not do any more.'),
        }),
      ),
      "The version of the vendor's API that this collection is made for: `run` asks for it first.",
    ),
    clock: described(
      z.optional(z.enum(['own', 'follow-server'])),
      'Whose time signatures are made with: that of this machine (`own`, by default), or corrected by the `Date` of the server.',
    ),
    tls: described(
      z.optional(
        z.strictObject({
          trust: described(
            z.optional(z.union([z.string(), z.array(z.string())])),
            'Certificates in PEM that are trusted too: paths in the collection, or the PEM itself.',
          ),
          identity: described(
            z.optional(
              z.strictObject({
                certificate: described(z.optional(z.string()), 'The client certificate in PEM, or its path.'),
                key: described(z.optional(z.string()), 'Its key in PEM, or its path; `${secret.NAME}` holds it best.'),
                bundle: described(z.optional(z.string()), 'Both in one PKCS#12 file instead: its path.'),
                passphrase: described(z.optional(z.string()), 'The pass phrase of the key or the bundle.'),
              }),
            ),
            'The client certificate and its key.',
          ),
          name: described(z.optional(z.string()), 'The name that the server must prove, in place of the host.'),
          minimum: described(z.optional(z.enum(['1.2', '1.3'])), 'The oldest version of TLS that is spoken.'),
          pinned: described(
            z.optional(z.string()),
            'The SHA-256 fingerprint of the only certificate that is taken, whoever signed it.',
          ),
        }),
      ),
      'How TLS connections are made. Evaluated for each request.',
    ),
    proxy: described(
      z.optional(
        z.union([
          z.string(),
          z.strictObject({
            url: z.string(),
            except: described(z.optional(z.array(z.string())), 'Hosts, and `.domains`, that are reached without it.'),
          }),
        ]),
      ),
      'The proxy, or `none`. HTTPS_PROXY, HTTP_PROXY and NO_PROXY of the process by default.',
    ),
    http: described(z.optional(z.union([z.literal(1), z.literal(2)])), 'The version of HTTP. 1 by default.'),
    'url-limit': described(
      z.optional(anyValue),
      'How long an address may be; a longer one is sent with a warning. 8000 by default.',
    ),
  }),
  'An environment: where requests go, and what is allowed there.',
);
export type EnvironmentFile = z.infer<typeof environmentFile>;
