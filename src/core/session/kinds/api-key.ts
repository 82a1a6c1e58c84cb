/** `api-key`: a key in a header, a query parameter or a cookie of every request. */
import type { ApiKeyFile } from '../../collection/files/session-file.js';
import { checkHeader } from '../../exchange/request/header-rules.js';
import { Problem } from '../../problem/problem.js';
import { tokenOrKey } from '../credentials.js';
import type { SessionContext, SessionKind } from '../session-kind.js';

export const apiKey: SessionKind<ApiKeyFile> = {
  name: 'api-key',
  about: 'a key in a header, a query parameter or a cookie',
  proof: ({ query }) => (query === undefined ? undefined : `the parameter ${query}`),
  async lines(file, room) {
    const origin = `session ${room.name}`;
    requireOnePlace(file, room);
    if (file.header !== undefined) {
      const value = await tokenOrKey(file.key, 'key', room);
      checkHeader(file.header, value, room.yaml.position(['header']));
      return [{ name: file.header, value, origin, secret: true }];
    }
    if (file.cookie !== undefined)
      return [
        { name: 'Cookie', value: `${file.cookie}=${await tokenOrKey(file.key, 'key', room)}`, origin, secret: true },
      ];
    return [];
  },
  async query(file, room) {
    return file.query === undefined
      ? []
      : [{ name: file.query, value: await tokenOrKey(file.key, 'key', room), secret: true }];
  },
};

function requireOnePlace({ header, query, cookie }: ApiKeyFile, room: SessionContext): void {
  if ([header, query, cookie].filter((one) => one !== undefined).length === 1) return;
  throw new Problem('session-missing', {
    what: `session ${room.name} needs exactly one of header, query and cookie`,
    where: room.yaml.position([]),
    remedy: 'header: X-Key, query: key, or cookie: key',
  });
}
