/** All kinds of sessions. A new one is one file, one line here, and its schema in the session file's union. */
import { apiKey } from './kinds/api-key.js';
import { basic } from './kinds/basic.js';
import { bearer } from './kinds/bearer.js';
import { certificate } from './kinds/certificate.js';
import { credentials } from './kinds/credentials.js';
import { digest } from './kinds/digest.js';
import { login } from './kinds/login.js';
import { oauth2 } from './kinds/oauth2.js';
import { wsSecurity } from './kinds/ws-security.js';
import type { SessionKind } from './session-kind.js';

const all = [bearer, login, basic, digest, apiKey, oauth2, wsSecurity, certificate, credentials] as readonly unknown[];

export const sessionKinds: ReadonlyMap<string, SessionKind> = new Map(
  (all as readonly SessionKind[]).map((kind) => [kind.name, kind]),
);
