/** The clients that the pass office knows, and how each proves itself. */
import { createHmac, createPublicKey, verify } from 'node:crypto';

export type Proof = 'client_secret_basic' | 'client_secret_post' | 'client_secret_jwt' | 'private_key_jwt' | 'none';

export interface Client {
  readonly secret?: string;
  readonly proof: Proof;
}

/** The secret has signs that must be encoded before they are joined (RFC 6749, section 2.3.1). */
export const passSecret = 'ebb & flow: 100% +safe';

export const clients: Readonly<Record<string, Client>> = {
  'harbour desk': { secret: passSecret, proof: 'client_secret_basic' },
  poster: { secret: passSecret, proof: 'client_secret_post' },
  sealer: { secret: passSecret.repeat(2), proof: 'client_secret_jwt' },
  signer: { proof: 'private_key_jwt' },
  kiosk: { proof: 'none' },
};

export function subjectOf(assertion: string): string {
  try {
    return String(JSON.parse(Buffer.from(assertion.split('.')[1] ?? '', 'base64url').toString()).sub);
  } catch {
    return '';
  }
}

/** RFC 7523, section 3. */
export function proves(
  assertion: string,
  id: string,
  client: Client,
  pem: string | undefined,
  issuer: string,
): boolean {
  const [head = '', body = '', mark = ''] = assertion.split('.');
  const { alg } = JSON.parse(Buffer.from(head, 'base64url').toString()) as { alg: string };
  const { sub, iss, aud, exp } = JSON.parse(Buffer.from(body, 'base64url').toString()) as Record<string, unknown>;
  const named = [aud].flat().some((one) => one === issuer || one === `${issuer}/token`);
  if (sub !== id || iss !== id || !named || typeof exp !== 'number' || exp * 1000 < Date.now()) return false;
  const text = Buffer.from(`${head}.${body}`);
  if (client.proof === 'client_secret_jwt')
    return (
      alg === 'HS256' &&
      createHmac('sha256', client.secret ?? '')
        .update(text)
        .digest('base64url') === mark
    );
  if (pem === undefined || alg !== 'RS256') return false;
  return verify('sha256', text, createPublicKey(pem), Buffer.from(mark, 'base64url'));
}
