/** `bearer`: a token in the Authorization header of every request (RFC 6750 section 2.1). */
import type { BearerFile } from '../../collection/files/session-file.js';
import { omitted } from '../../expression/evaluation.js';
import { Problem } from '../../problem/problem.js';
import { textOf } from '../../value/text.js';
import { pastedWrongly } from '../secrets.js';
import type { SessionKind } from '../session-kind.js';

export const bearer: SessionKind<BearerFile> = {
  name: 'bearer',
  about: 'a token that is sent with every request',
  async lines(file, room) {
    const value = await room.evaluate(file.token, ['token'], {});
    const token = value === omitted ? '' : textOf(value);
    const wrong = token === '' ? 'it is empty' : pastedWrongly(token);
    if (wrong) {
      throw new Problem('session-missing', {
        what: `the token of the session ${room.name} cannot be sent: ${wrong}`,
        where: room.yaml.position(['token']),
        remedy: 'set the secret again without it',
      });
    }
    return [{ name: 'Authorization', value: `Bearer ${token}`, origin: `session ${room.name}`, secret: true }];
  },
};
