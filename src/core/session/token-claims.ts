/** What a JSON Web Token says of itself (RFC 7519). Read for people: nothing here proves who made it. */

/** undefined where the token is no JSON Web Token. */
export function claimsOf(token: string): Readonly<Record<string, unknown>> | undefined {
  const [head = '', body = '', signature] = token.split('.');
  if (signature === undefined || part(head)?.alg === undefined) return undefined;
  return part(body);
}

function part(text: string): Record<string, unknown> | undefined {
  try {
    const value: unknown = JSON.parse(Buffer.from(text, 'base64url').toString('utf8'));
    return typeof value === 'object' && value !== null && !Array.isArray(value)
      ? (value as Record<string, unknown>)
      : undefined;
  } catch {
    return undefined;
  }
}

/** Milliseconds since 1970; undefined where the token does not say. */
export function endOf(token: string): number | undefined {
  const end = claimsOf(token)?.exp;
  return typeof end === 'number' ? end * 1000 : undefined;
}
