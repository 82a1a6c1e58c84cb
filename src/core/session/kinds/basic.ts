/** `basic`: user and password with every request (RFC 7617), in UTF-8. */
import type { BasicFile } from '../../collection/files/session-file.js';
import { userAndPassword } from '../credentials.js';
import type { SessionKind } from '../session-kind.js';

export const basic: SessionKind<BasicFile> = {
  name: 'basic',
  about: 'user and password with every request',
  scheme: 'basic',
  async lines(file, room) {
    const { user, password } = await userAndPassword(file, room);
    const value = `Basic ${Buffer.from(`${user}:${password}`, 'utf8').toString('base64')}`;
    return [{ name: 'Authorization', value, origin: `session ${room.name}`, secret: true }];
  },
};
