/** `request-token`: a JSON Web Token (RFC 7519) that is made for each request and signed (RFC 7515). */
import { constants, createHmac, sign } from 'node:crypto';
import type { RequestTokenFile } from '../../collection/files/signature-file.js';
import { Evaluation, omitted } from '../../expression/evaluation.js';
import { privateKey } from '../../expression/filters/key.js';
import { compileTree } from '../../expression/tree.js';
import { Problem } from '../../problem/problem.js';
import { writeJson } from '../../value/json-text.js';
import { parseDuration } from '../../value/measures.js';
import { textOf } from '../../value/text.js';
import type { Value, ValueMap } from '../../value/written.js';
import { withHeader } from '../adding.js';
import { RecipeNames } from '../recipe-run.js';
import type { SignatureKind, SigningStep } from '../signature-kind.js';

export const requestToken: SignatureKind<RequestTokenFile> = {
  name: 'request-token',
  about: 'a JSON Web Token that is made and signed for each request',
  compile(file, { name, yaml, loads }) {
    const { algorithm, header = 'Authorization', scheme = 'Bearer', lasts = '60s', type = 'JWT' } = file;
    const ready = (value: Value, key: string) => compileTree(value, (path) => yaml.position([key, ...path]), loads);
    const [key, keyId, claims] = [
      ready(file.key, 'key'),
      ready(file['key-id'] ?? '', 'key-id'),
      ready(file.claims ?? {}, 'claims'),
    ];
    const seconds = Math.round((parseDuration(lasts) ?? wrongDuration(lasts, yaml.position(['lasts']))) / 1000);
    return {
      name,
      sign(wire, { world, variables, onSecret }) {
        const evaluation = new Evaluation(new RecipeNames(name, wire, variables), { world, onSecret });
        const text = (tree: typeof key): string => {
          const value = tree.evaluate(evaluation);
          return value === omitted ? '' : textOf(value);
        };
        const id = text(keyId);
        const now = Math.floor(world.now.getTime() / 1000);
        const head = writeJson({ alg: algorithm, ...(type !== '' && { typ: type }), ...(id !== '' && { kid: id }) });
        const [own, secretClaims] = evaluation.traced(() => claims.evaluate(evaluation));
        const body = writeJson({ ...(own as ValueMap), iat: now, exp: now + seconds });
        const base = `${encoded(head)}.${encoded(body)}`;
        const token = `${base}.${signed(algorithm, base, text(key)).toString('base64url')}`;
        onSecret(token);
        const value = scheme === '' ? token : `${scheme} ${token}`;
        const step = (named: string, made: string, secret = false): SigningStep => ({
          name: named,
          part: 'value',
          value: made,
          secret,
          shown: secret ? undefined : made,
        });
        return {
          wire: withHeader(wire, { name: header, value, origin: `signature ${name}`, secret: true }),
          steps: [
            step('header', head),
            step('claims', body, secretClaims),
            step('base', base, secretClaims),
            step('token', token, true),
            {
              name: header,
              part: 'header',
              value,
              secret: true,
              shown: scheme === '' ? undefined : `${scheme} ‹secret›`,
            },
          ],
        };
      },
    };
  },
};

const encoded = (text: string): string => Buffer.from(text).toString('base64url');

function wrongDuration(text: string, where: ConstructorParameters<typeof Problem>[1]['where']): never {
  throw new Problem('file-shape', {
    what: `lasts must be a duration, not ${text}`,
    where,
    remedy: 'a duration has its unit: 60s, 5m',
  });
}

/** RFC 7518, section 3. */
function signed(algorithm: string, base: string, key: string): Buffer {
  const hash = `sha${algorithm.slice(2)}`;
  switch (algorithm.slice(0, 2)) {
    case 'HS':
      return createHmac(hash, key).update(base).digest();
    case 'RS':
      return sign(hash, Buffer.from(base), privateKey(key));
    case 'PS':
      return sign(hash, Buffer.from(base), {
        key: privateKey(key),
        padding: constants.RSA_PKCS1_PSS_PADDING,
        saltLength: constants.RSA_PSS_SALTLEN_DIGEST,
      });
    case 'ES':
      return sign(hash, Buffer.from(base), { key: privateKey(key), dsaEncoding: 'ieee-p1363' });
    default:
      return sign(null, Buffer.from(base), privateKey(key));
  }
}
