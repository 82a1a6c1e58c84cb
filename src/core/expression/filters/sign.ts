/** Signatures with a private key: RSA (RFC 8017), ECDSA (FIPS 186-5), Ed25519 (RFC 8032). They yield bytes. */
import { constants, sign } from 'node:crypto';
import { Problem } from '../../problem/problem.js';
import { textOf } from '../../value/text.js';
import type { Value } from '../../value/written.js';
import type { Filter } from './filter.js';
import { privateKey } from './key.js';

const bytesOf = (value: Value): Uint8Array => (value instanceof Uint8Array ? value : Buffer.from(textOf(value)));

interface Scheme {
  readonly name: string;
  readonly about: string;
  readonly key: 'rsa' | 'ec' | 'ed25519';
  readonly hash: string | undefined;
  readonly pss?: boolean;
}

const sizes = ['256', '384', '512'] as const;

const schemes: readonly Scheme[] = [
  ...sizes.map(
    (size): Scheme => ({
      name: `sign-rsa-sha-${size}`,
      about: `the RSA signature (PKCS #1 v1.5) over the SHA-${size} digest, bytes`,
      key: 'rsa',
      hash: `sha${size}`,
    }),
  ),
  ...sizes.map(
    (size): Scheme => ({
      name: `sign-rsa-pss-sha-${size}`,
      about: `the RSA signature (PSS, salt as long as the digest) over the SHA-${size} digest, bytes`,
      key: 'rsa',
      hash: `sha${size}`,
      pss: true,
    }),
  ),
  ...sizes.map(
    (size): Scheme => ({
      name: `sign-ecdsa-sha-${size}`,
      about: `the ECDSA signature over the SHA-${size} digest, bytes: both numbers one behind the other, or with "der" in ASN.1`,
      key: 'ec',
      hash: `sha${size}`,
    }),
  ),
  { name: 'sign-ed25519', about: 'the Ed25519 signature, bytes', key: 'ed25519', hash: undefined },
];

export const signFilters: readonly Filter[] = schemes.map(({ name, about, key: wanted, hash, pss }) => ({
  name,
  about: `${about}; the key is PEM or a JSON Web Key`,
  example: `\${base | ${name}(secret.key) | base64}`,
  arguments: wanted === 'ec' ? [1, 2] : [1, 1],
  varies: true,
  apply(input, [given, form]) {
    const key = privateKey(textOf(given as Value));
    const type = key.asymmetricKeyType;
    if (type !== wanted && !(wanted === 'rsa' && type === 'rsa-pss')) {
      throw new Problem('expression-value', { what: `${name} needs a key of the kind ${wanted}, not ${type}` });
    }
    if (form !== undefined && form !== 'der' && form !== 'raw')
      throw new Problem('expression-value', { what: `${name} writes raw or der, not ${textOf(form)}` });
    return sign(hash, bytesOf(input), {
      key,
      ...(pss && { padding: constants.RSA_PKCS1_PSS_PADDING, saltLength: constants.RSA_PSS_SALTLEN_DIGEST }),
      ...(wanted === 'ec' && { dsaEncoding: form === 'der' ? 'der' : 'ieee-p1363' }),
    });
  },
}));
