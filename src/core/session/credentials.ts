import { omitted } from '../expression/evaluation.js';
import { Problem } from '../problem/problem.js';
import { textOf } from '../value/text.js';
import type { SessionContext } from './session-kind.js';

/** A text of the session file, computed. */
export async function written(value: string, key: string, room: SessionContext): Promise<string> {
  const result = await room.evaluate(value, [key], {});
  return result === omitted ? '' : textOf(result);
}

/** @param key where it is in the session file @throws Problem session-missing: it is empty, or was pasted with more than it */
export async function tokenOrKey(value: string, key: 'token' | 'key', room: SessionContext): Promise<string> {
  const text = await written(value, key, room);
  const wrong = text === '' ? 'it is empty' : pastedWrongly(text);
  if (wrong === undefined) return text;
  throw new Problem('session-missing', {
    what: `the ${key} of the session ${room.name} cannot be sent: ${wrong}`,
    where: room.yaml.position([key]),
    remedy: text === '' ? 'give the secret its value' : 'set the secret again without it',
  });
}

/** @throws Problem session-missing: one of them cannot be sent so */
export async function userAndPassword(
  file: { readonly user: string; readonly password: string },
  room: SessionContext,
): Promise<{ user: string; password: string }> {
  const [user, password] = [await written(file.user, 'user', room), await written(file.password, 'password', room)];
  const wrong = (what: string, key: string, remedy?: string): Problem =>
    new Problem('session-missing', {
      what: `the session ${room.name} cannot be sent: ${what}`,
      where: room.yaml.position([key]),
      remedy,
    });
  // RFC 7617, section 2.
  if (user.includes(':'))
    throw wrong('the user holds a colon, which ends it', 'user', 'ask the vendor for another user name');
  for (const [key, value] of [
    ['user', user],
    ['password', password],
  ] as const) {
    // biome-ignore lint/suspicious/noControlCharactersInRegex: exactly these are forbidden
    if (/[\u0000-\u001f\u007f]/.test(value))
      throw wrong(`the ${key} holds a line break or another control character`, key);
  }
  const pasted = pastedWrongly(password);
  if (pasted?.includes('quotes'))
    throw wrong(`the password: ${pasted}`, 'password', 'set the secret again without them');
  return { user, password };
}

/** What is wrong with a pasted secret, by its shape; undefined where nothing is. */
export function pastedWrongly(value: string): string | undefined {
  const bare = value.trim();
  const faults = [
    /^(["']).*\1$/s.test(bare) && 'begins and ends with quotes, which are now part of it',
    /[\r\n]/.test(value) && !value.includes('-----BEGIN')
      ? 'holds a line break, which is now part of it'
      : value !== bare && 'begins or ends with a space, which is now part of it',
    /^["']?bearer\s/i.test(bare) && 'begins with the word Bearer, which the session adds',
  ].filter((fault) => fault !== false);
  return faults.length === 0 ? undefined : `it ${faults.join('; it ')}`;
}
