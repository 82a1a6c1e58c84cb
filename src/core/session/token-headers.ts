/** What a session that holds a token sends with every request. */
import { checkHeader } from '../exchange/request/header-rules.js';
import type { HeaderLine } from '../exchange/request/wire.js';
import { omitted } from '../expression/evaluation.js';
import { textOf } from '../value/text.js';
import type { Value } from '../value/written.js';
import type { OpenSession, SessionContext } from './session-kind.js';

/** RFC 6750, section 2.1. */
const usual = { Authorization: 'Bearer ${token}' };

/** The names that the values of a session file see. */
export const namesOf = (open: OpenSession | undefined): Readonly<Record<string, Value>> => ({
  ...open?.kept,
  ...(open && open.token !== '' && { token: open.token }),
});

/** @throws Problem header-shape, and what working out the values may throw */
export async function tokenHeaders(
  headers: Readonly<Record<string, Value>> | undefined,
  room: SessionContext,
  open: OpenSession | undefined,
): Promise<readonly HeaderLine[]> {
  const origin = `session ${room.name}`;
  // For a preview: what it will be is known when the session is open.
  if (!open) return Object.keys(headers ?? usual).map((name) => ({ name, value: '', origin, secret: true }));
  if (headers === undefined && open.token === '') return [];
  const lines: HeaderLine[] = [];
  for (const [name, value] of Object.entries(headers ?? usual)) {
    const result = await room.evaluate(value, ['headers', name], namesOf(open));
    if (result === omitted) continue;
    const text = textOf(result);
    checkHeader(name, text, room.yaml.position(['headers', name]));
    lines.push({ name, value: text, origin, secret: true });
  }
  return lines;
}
