/** The same bytes, written in another encoding: hexadecimal digits, base64, or base64url (RFC 4648). */

const hex = /^(?:[0-9a-f]{2})+$/i;
const base64 = /^[A-Za-z0-9+/_-]+={0,2}$/;

/** Every reading of the text; hexadecimal digits may be base64, too. */
function readings(text: string): readonly Buffer[] {
  const found: Buffer[] = [];
  if (hex.test(text)) found.push(Buffer.from(text, 'hex'));
  if (base64.test(text)) found.push(Buffer.from(text, 'base64'));
  return found.filter(({ length }) => length >= 16);
}

export const sameBytes = (ours: string, theirs: string): boolean =>
  readings(ours).some((one) => readings(theirs).some((other) => one.equals(other)));

/** @returns what theirs is written in, where the bytes are the same */
export function otherEncoding(ours: string, theirs: string): string | undefined {
  if (ours === theirs || !sameBytes(ours, theirs)) return undefined;
  const same = 'the same digest, written';
  if (hex.test(theirs))
    return hex.test(ours)
      ? `${same} in ${theirs === theirs.toLowerCase() ? 'small' : 'capital'} letters there`
      : `${same} as hex there: | hex`;
  if (/[-_]/.test(theirs) || (/[+/=]/.test(ours) && !/[+/=]/.test(theirs)))
    return `${same} as base64url there: | base64url`;
  return `${same} as base64 there: | base64`;
}
