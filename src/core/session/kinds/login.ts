/** `login`: a request gives a token, which is sent with every other, until a request gives it back. */
import type { LoginFile } from '../../collection/files/session-file.js';
import { checkHeader } from '../../exchange/header-rules.js';
import type { Received } from '../../exchange/received.js';
import type { HeaderLine } from '../../exchange/wire.js';
import { omitted } from '../../expression/evaluation.js';
import { readPlace } from '../../place/registry.js';
import { Problem } from '../../problem/problem.js';
import { parseDuration } from '../../value/measures.js';
import { textOf } from '../../value/text.js';
import { plain, type Value } from '../../value/written.js';
import type { SessionKind, SessionRoom } from '../session-kind.js';

const usual = { Authorization: 'Bearer ${token}' };

export const login: SessionKind<LoginFile> = {
  name: 'login',
  about: 'a token that a request obtains',
  async open(file, room) {
    const received = await room.call(file.open.send, file.open.give ?? {}, []);
    const token = await valueAt(file.token, 'token', received, room);
    if (token === undefined || plain(token) === null || textOf(token) === '') {
      const place = readPlace(file.token, []);
      throw new Problem('session-missing', {
        what: `the session ${room.name} could not be opened: no token at ${file.token}`,
        where: room.yaml.position(['token']),
        cause: `${file.open.send} answered ${received.status}${place.near(received) === undefined ? '' : `; nearest: ${place.near(received)}`}`,
      });
    }
    return { token: textOf(token), opened: new Date().toISOString(), expires: await expiry(file, received, room) };
  },
  async lines(file, room, open) {
    const lines: HeaderLine[] = [];
    for (const [name, value] of Object.entries(file.headers ?? usual)) {
      const result = await room.evaluate(value, ['headers', name], { token: open?.token ?? '' });
      if (result === omitted) continue;
      const text = textOf(result);
      checkHeader(name, text, room.yaml.position(['headers', name]));
      lines.push({ name, value: text, origin: `session ${room.name}`, secret: true });
    }
    return lines;
  },
  async close(file, room) {
    if (file.close) await room.call(file.close.send, file.close.give ?? {}, [room.name]);
  },
};

async function valueAt(text: string, key: string, received: Received, room: SessionRoom): Promise<Value | undefined> {
  const loads: Promise<unknown>[] = [];
  try {
    const place = readPlace(text, loads);
    await Promise.all(loads);
    return place.find(received);
  } catch (error) {
    throw error instanceof Problem ? error.at(room.yaml.position([key])) : error;
  }
}

/** A duration as written; at a place: a number of seconds from now, or a date. */
async function expiry(file: LoginFile, received: Received, room: SessionRoom): Promise<number | undefined> {
  if (file.lasts === undefined) return undefined;
  const duration = parseDuration(file.lasts);
  if (duration !== undefined) return Date.now() + duration;
  const found = plain((await valueAt(file.lasts, 'lasts', received, room)) ?? null);
  const seconds = typeof found === 'string' && /^\d+$/.test(found) ? Number(found) : found;
  if (typeof seconds === 'number') return Date.now() + seconds * 1000;
  const date = typeof found === 'string' ? Date.parse(found) : Number.NaN;
  if (!Number.isNaN(date)) return date;
  throw new Problem('session-missing', {
    what: `the end of the session ${room.name} is not to be found at ${file.lasts}`,
    where: room.yaml.position(['lasts']),
    remedy: 'lasts takes a duration such as 30m, or the place of a number of seconds or of a date',
  });
}
