/** All kinds of sessions. A new one is one file, one line here, and its schema in the session file's union. */
import { apiKey } from './kinds/api-key.js';
import { basic } from './kinds/basic.js';
import { bearer } from './kinds/bearer.js';
import { digest } from './kinds/digest.js';
import { login } from './kinds/login.js';
import type { SessionKind } from './session-kind.js';

export const sessionKinds: ReadonlyMap<string, SessionKind> = new Map(
  [bearer as SessionKind, login as SessionKind, basic as SessionKind, digest as SessionKind, apiKey as SessionKind].map(
    (kind) => [kind.name, kind],
  ),
);
