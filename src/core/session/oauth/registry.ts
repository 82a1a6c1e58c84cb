/** All grants. A new one is one file, one line here, and its name in the session file. */
import type { Grant } from './grant.js';
import { authorizationCode } from './grants/authorization-code.js';
import { clientCredentials } from './grants/client-credentials.js';
import { deviceCode } from './grants/device-code.js';
import { password } from './grants/password.js';
import { refreshToken } from './grants/refresh-token.js';

export const grants: ReadonlyMap<string, Grant> = new Map(
  [clientCredentials, authorizationCode, deviceCode, refreshToken, password].map((grant) => [grant.name, grant]),
);
