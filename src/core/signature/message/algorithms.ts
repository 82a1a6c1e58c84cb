/** The algorithms of the registry of HTTP signature algorithms (RFC 9421, section 3.3 and 6.2.2). */
import { constants, createHmac, sign, timingSafeEqual, verify } from 'node:crypto';
import type { Through } from '../../expression/evaluation.js';
import { privateKey, publicKey } from '../../expression/filters/key.js';
import { Problem } from '../../problem/problem.js';

export interface MessageAlgorithm {
  readonly name: string;
  /**
   * @param through as filters go, each by its name: what it makes is noted where a program is written
   * @throws Problem expression-value: the key is not of that kind
   */
  sign(base: string, key: string, through?: Through): Uint8Array;
  verify(base: string, key: string, signature: Uint8Array): boolean;
}

type Options = Omit<Parameters<typeof sign>[2] & object, 'key'>;

/** Nobody looks on. */
const directly: Through = (_filter, _input, _args, apply) => apply();

/** @param filter that makes the same */
function ofKeyPair(
  name: string,
  filter: string,
  hash: string | null,
  kinds: readonly string[],
  options: Options = {},
): MessageAlgorithm {
  const demand = (kind: string | undefined): void => {
    if (kind === undefined || !kinds.includes(kind))
      throw new Problem('expression-value', {
        what: `${name} needs a key of the kind ${kinds.join(' or ')}, not ${kind}`,
      });
  };
  return {
    name,
    sign(base, text, through = directly) {
      const made = through(filter, base, [text], () => {
        const key = privateKey(text);
        demand(key.asymmetricKeyType);
        return sign(hash, Buffer.from(base), { key, ...options });
      });
      return made as Uint8Array;
    },
    verify(base, text, signature) {
      const key = publicKey(text);
      demand(key.asymmetricKeyType);
      return verify(hash, Buffer.from(base), { key, ...options }, signature);
    },
  };
}

const pss = { padding: constants.RSA_PKCS1_PSS_PADDING, saltLength: 64 };
const raw = { dsaEncoding: 'ieee-p1363' } as const;

const hmac: MessageAlgorithm = {
  name: 'hmac-sha256',
  sign(base, text, through = directly) {
    const key = through('from-base64', text, [], () => sharedKey(text)) as Uint8Array;
    return through('hmac-sha-256', base, [key], () => createHmac('sha256', key).update(base).digest()) as Uint8Array;
  },
  verify(base, key, signature) {
    const own = hmac.sign(base, key);
    return own.length === signature.length && timingSafeEqual(own, signature);
  },
};

/** A shared key is bytes, and vendors write them in base64 (RFC 4648). */
function sharedKey(text: string): Buffer {
  if (!/^[A-Za-z0-9+/_-]+={0,2}$/.test(text.trim())) {
    throw new Problem('expression-value', {
      what: 'the key of hmac-sha256 is not Base64',
      remedy: 'a key that is plain text: ${secret.NAME | base64}',
    });
  }
  return Buffer.from(text.trim(), /[-_]/.test(text) ? 'base64url' : 'base64');
}

export const messageAlgorithms: ReadonlyMap<string, MessageAlgorithm> = new Map(
  [
    ofKeyPair('rsa-pss-sha512', 'sign-rsa-pss-sha-512', 'sha512', ['rsa', 'rsa-pss'], pss),
    ofKeyPair('rsa-v1_5-sha256', 'sign-rsa-sha-256', 'sha256', ['rsa']),
    hmac,
    ofKeyPair('ecdsa-p256-sha256', 'sign-ecdsa-sha-256', 'sha256', ['ec'], raw),
    ofKeyPair('ecdsa-p384-sha384', 'sign-ecdsa-sha-384', 'sha384', ['ec'], raw),
    ofKeyPair('ed25519', 'sign-ed25519', null, ['ed25519']),
  ].map((algorithm) => [algorithm.name, algorithm]),
);
