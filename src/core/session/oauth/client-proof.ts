/** How a client proves itself, by the registered names (RFC 6749, section 2.3; RFC 7523; OpenID Connect Core, section 9). */

import { createPrivateKey, type KeyObject, webcrypto } from 'node:crypto';
import type * as oauth from 'oauth4webapi';
import type { OAuth2File } from '../../collection/files/session-file.js';
import { percentEncode } from '../../expression/filters/text.js';
import { action } from '../../problem/actions.js';
import { Problem } from '../../problem/problem.js';
import { written } from '../credentials.js';
import type { SessionContext } from '../session-kind.js';

type Client = OAuth2File['client'];

/** @throws Problem session-missing: what the way needs is not there */
export async function clientProof(
  library: typeof oauth,
  client: Client,
  room: SessionContext,
): Promise<oauth.ClientAuth> {
  const way =
    client.authentication ??
    (client.secret !== undefined ? 'client_secret_basic' : client.key !== undefined ? 'private_key_jwt' : 'none');
  if (way === 'none') return library.None();
  if (way === 'private_key_jwt') return library.PrivateKeyJwt(await privateKey(client, room));
  const secret = client.secret === undefined ? '' : await written(client.secret, 'client', room);
  if (secret === '')
    throw missing(room, `client_secret is empty, and ${way} needs one`, 'client: {secret: "${secret.NAME}"}');
  if (way === 'client_secret_basic') return basicProof(secret);
  return way === 'client_secret_post' ? library.ClientSecretPost(secret) : library.ClientSecretJwt(secret);
}

/**
 * RFC 6749, section 2.3.1 and appendix B: form-encoded first. Unreserved characters stay as they are, since many servers do
 * not decode, and every UUID holds a dash.
 */
const basicProof =
  (secret: string): oauth.ClientAuth =>
  (_server, client, _body, headers) => {
    const pair = [client.client_id, secret].map((text) => percentEncode(text).replaceAll('%20', '+')).join(':');
    headers.set('authorization', `Basic ${Buffer.from(pair).toString('base64')}`);
  };

const algorithms = {
  RS256: { name: 'RSASSA-PKCS1-v1_5', hash: 'SHA-256' },
  PS256: { name: 'RSA-PSS', hash: 'SHA-256' },
  ES256: { name: 'ECDSA', namedCurve: 'P-256' },
  EdDSA: { name: 'Ed25519' },
} as const;

async function privateKey(client: Client, room: SessionContext): Promise<oauth.PrivateKey> {
  const pem = client.key === undefined ? '' : await written(client.key, 'client', room);
  if (pem === '') throw missing(room, 'private_key_jwt needs a key', 'client: {key: "${secret.NAME}"} with a PEM');
  const { algorithm = 'RS256', 'key-id': kid } = client;
  // What the libraries say of a key that they do not take names neither the key nor what is wrong.
  let own: KeyObject;
  try {
    own = createPrivateKey(pem);
  } catch {
    throw missing(
      room,
      /ENCRYPTED/.test(pem)
        ? 'the key has a pass phrase, and none can be given here'
        : 'the key is not a private key in PEM',
      `client: {key: "\${secret.NAME}"}; ${action().setSecretFromFile()}`,
    );
  }
  try {
    const der = own.export({ type: 'pkcs8', format: 'der' });
    const key = await webcrypto.subtle.importKey('pkcs8', der, algorithms[algorithm], false, ['sign']);
    return { key: key as CryptoKey, ...(kid !== undefined && { kid }) };
  } catch {
    const kind = [own.asymmetricKeyType, own.asymmetricKeyDetails?.namedCurve].filter(Boolean).join(' ');
    throw missing(
      room,
      `the key is of the kind ${kind}, which ${algorithm} does not sign with`,
      'client: {algorithm: …} is RS256 or PS256 for RSA, ES256 for the curve P-256, EdDSA for Ed25519',
    );
  }
}

const missing = (room: SessionContext, what: string, remedy: string): Problem =>
  new Problem('session-missing', {
    what: `the session ${room.name} cannot authenticate its client: ${what}`,
    where: room.yaml.position(['client']),
    remedy,
  });
