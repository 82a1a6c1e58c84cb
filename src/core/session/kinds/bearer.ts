/** `bearer`: a token in the Authorization header of every request (RFC 6750 section 2.1). */
import type { BearerFile } from '../../collection/files/session-file.js';
import { tokenOrKey } from '../credentials.js';
import type { SessionKind } from '../session-kind.js';

export const bearer: SessionKind<BearerFile> = {
  name: 'bearer',
  about: 'a token that is sent with every request',
  scheme: 'bearer',
  async lines(file, room) {
    const token = await tokenOrKey(file.token, 'token', room);
    return [{ name: 'Authorization', value: `Bearer ${token}`, origin: `session ${room.name}`, secret: true }];
  },
};
