/** `credentials`: nothing of its own is sent; it supplies names to the requests that use it. */
import type { CredentialsFile } from '../../collection/files/session-file.js';
import type { SessionKind } from '../session-kind.js';

export const credentials: SessionKind<CredentialsFile> = {
  name: 'credentials',
  about: 'names for the requests that want credentials in their bodies',
};
