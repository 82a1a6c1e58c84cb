/** All kinds of sessions. A new one is one file, one line here, and its schema in the session file's union. */
import { bearer } from './kinds/bearer.js';
import { login } from './kinds/login.js';
import type { SessionKind } from './session-kind.js';

export const sessionKinds: ReadonlyMap<string, SessionKind> = new Map(
  [bearer as SessionKind, login as SessionKind].map((kind) => [kind.name, kind]),
);
