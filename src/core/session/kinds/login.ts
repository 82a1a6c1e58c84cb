/** `login`: a request or a trail gives a token or cookies, sent with every other, until a request gives them back. */
import type { LoginFile } from '../../collection/files/session-file.js';
import type { Received } from '../../exchange/response/received.js';
import { contradictionIn, contradictionText } from '../../place/contradiction.js';
import { readPlace } from '../../place/registry.js';
import { Problem } from '../../problem/problem.js';
import { parseDuration } from '../../value/measures.js';
import { textOf } from '../../value/text.js';
import { plain, type Value } from '../../value/written.js';
import type { Opened, SessionCall, SessionContext, SessionKind } from '../session-kind.js';
import { namesOf, tokenHeaders } from '../token-headers.js';

export const login: SessionKind<LoginFile> = {
  name: 'login',
  about: 'a token or cookies that a request obtains',
  scheme: 'bearer',
  calls({ open, close }) {
    const opens: SessionCall =
      'trail' in open
        ? { kind: 'trail', name: open.trail, part: 'open', path: ['open', 'trail'] }
        : { kind: 'request', name: open.send, part: 'open', path: ['open', 'send'] };
    return close ? [opens, { kind: 'request', name: close.send, part: 'close', path: ['close', 'send'] }] : [opens];
  },
  tokenPlace: ({ token }) => token,
  openedWith: ({ open }) => (open.give ?? {}) as Value,
  async open(file, room) {
    const { received, names } = await opened(file, room);
    const token = file.token === undefined ? '' : await tokenAt(file.token, file, received, room);
    const kept: Record<string, Value> = { ...names };
    for (const [name, place] of Object.entries(file.keep ?? {})) {
      const value = await valueAt(place, ['keep', name], received, room);
      if (value === undefined) throw nothingAt(place, ['keep', name], file, received, room);
      kept[name] = value;
    }
    return {
      token,
      opened: new Date().toISOString(),
      expires: await expiry(file, received, room),
      ...(Object.keys(kept).length > 0 && { kept }),
    };
  },
  lines: (file, room, open) => tokenHeaders(file.headers ?? (file.token === undefined ? {} : undefined), room, open),
  async close(file, room, open) {
    if (!file.close) return;
    const give: Record<string, Value> = {};
    for (const [key, value] of Object.entries(file.close.give ?? {})) {
      const result = await room.evaluate(value, ['close', 'give', key], namesOf(open));
      if (typeof result !== 'symbol') give[key] = escapedText(result);
    }
    await room.call(file.close.send, give, 'close');
  },
};

/** What was computed is a value, and no expression any more. */
const escapedText = (value: Value): Value => (typeof value === 'string' ? value.replaceAll('${', () => '$${') : value);

async function opened({ open }: LoginFile, room: SessionContext): Promise<Opened> {
  if ('trail' in open) return room.walk(open.trail, open.give ?? {});
  return { received: await room.call(open.send, open.give ?? {}, 'open'), names: {} };
}

async function tokenAt(place: string, file: LoginFile, received: Received, room: SessionContext): Promise<string> {
  const token = await valueAt(place, ['token'], received, room);
  if (token === undefined || plain(token) === null || textOf(token) === '')
    throw nothingAt(place, ['token'], file, received, room);
  return textOf(token);
}

/** A response whose status says that all is well, and that says something else in it, looks like this. */
function nothingAt(
  text: string,
  path: readonly string[],
  { open }: LoginFile,
  received: Received,
  room: SessionContext,
): Problem {
  const near = readPlace(text, []).near(received);
  const against = contradictionIn(received, []);
  const what = path[0] === 'token' ? 'no token' : `nothing for ${path.at(-1)}`;
  return new Problem('session-missing', {
    what: `the session ${room.name} could not be opened: ${what} at ${text}`,
    where: room.yaml.position(path),
    cause: [
      `${'trail' in open ? `the last step of ${open.trail}` : open.send} returned ${received.status}`,
      against && `, and ${contradictionText(against)}`,
      near !== undefined && `; nearest: ${near}`,
    ]
      .filter(Boolean)
      .join(''),
    remedy: 'expect: in the request that opens it tells a refusal from a success, whatever its status',
  });
}

async function valueAt(
  text: string,
  path: readonly string[],
  received: Received,
  room: SessionContext,
): Promise<Value | undefined> {
  const loads: Promise<unknown>[] = [];
  try {
    const place = readPlace(text, loads);
    await Promise.all(loads);
    return place.find(received);
  } catch (error) {
    throw error instanceof Problem ? error.at(room.yaml.position(path)) : error;
  }
}

/** A duration as written; at a place: a number of seconds from now, or a date. */
async function expiry(file: LoginFile, received: Received, room: SessionContext): Promise<number | undefined> {
  if (file.lasts === undefined) return undefined;
  const duration = parseDuration(file.lasts);
  if (duration !== undefined) return Date.now() + duration;
  const found = plain((await valueAt(file.lasts, ['lasts'], received, room)) ?? null);
  const seconds = typeof found === 'string' && /^\d+$/.test(found) ? Number(found) : found;
  if (typeof seconds === 'number') return Date.now() + seconds * 1000;
  const date = typeof found === 'string' ? Date.parse(found) : Number.NaN;
  if (!Number.isNaN(date)) return date;
  throw new Problem('session-missing', {
    what: `session ${room.name}: no expiry found at ${file.lasts}`,
    where: room.yaml.position(['lasts']),
    remedy: 'lasts takes a duration such as 30m, or the place of a number of seconds or of a date',
  });
}
