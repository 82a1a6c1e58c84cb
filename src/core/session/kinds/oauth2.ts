/** `oauth2`: a token by OAuth 2.0 (RFC 6749, RFC 9700), on a well-known protocol library. */
import type { OAuth2File } from '../../collection/files/session-file.js';
import type { SessionKind } from '../session-kind.js';
import { tokenHeaders } from '../token-headers.js';

export const oauth2: SessionKind<OAuth2File> = {
  name: 'oauth2',
  about: 'a token by OAuth 2.0',
  scheme: 'bearer',
  // The library is loaded when a token has to be had: most commands find one that is good.
  open: async (file, room, before, saving) =>
    (await import('../oauth/obtain.js')).obtainToken(file, room, before, saving),
  // The refresh token was the person's before any session was open: closing would take it from her.
  renewsOnly: ({ grant }) => grant === 'refresh_token',
  lines: (file, room, open) => tokenHeaders(file.headers, room, open),
  close: async (file, room, open) => (await import('../oauth/obtain.js')).revokeToken(file, room, open),
};
