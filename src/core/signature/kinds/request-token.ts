/** `request-token`: a JSON Web Token (RFC 7519) that is made for each request and signed (RFC 7515). */

import type { RequestTokenFile } from '../../collection/files/signature-file.js';
import { hidden } from '../../exchange/request/wire.js';
import { Evaluation, omitted } from '../../expression/evaluation.js';
import type { Filter } from '../../expression/filters/filter.js';
import { filters } from '../../expression/filters/registry.js';
import { compileTree } from '../../expression/tree.js';
import { writeJson } from '../../value/json-text.js';
import { parseDuration } from '../../value/measures.js';
import { ownMember } from '../../value/own-member.js';
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
    const seconds = Math.round((parseDuration(lasts) as number) / 1000);
    const signing = filterFor(algorithm);
    return {
      name,
      sign(wire, { runtime, variables, onSecret }) {
        const evaluation = new Evaluation(new RecipeNames(name, wire, variables), { runtime, onSecret });
        const text = (tree: typeof key): string => {
          const value = tree.evaluate(evaluation);
          return value === omitted ? '' : textOf(value);
        };
        const id = text(keyId);
        const now = Math.floor(runtime.now.getTime() / 1000);
        const head = writeJson({ alg: algorithm, ...(type !== '' && { typ: type }), ...(id !== '' && { kid: id }) });
        const [own, secretClaims] = evaluation.traced(() => claims.evaluate(evaluation));
        const body = writeJson({ ...(own as ValueMap), iat: now, exp: now + seconds });
        const base = `${encoded(head)}.${encoded(body)}`;
        const signature = signing.apply(base, [text(key)], evaluation) as Uint8Array;
        const token = `${base}.${Buffer.from(signature).toString('base64url')}`;
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
              shown: scheme === '' ? undefined : `${scheme} ${hidden}`,
            },
          ],
        };
      },
    };
  },
};

const encoded = (text: string): string => Buffer.from(text).toString('base64url');

/** The filter that signs as the algorithm of that name does (RFC 7518, section 3). */
function filterFor(algorithm: string): Filter {
  const size = algorithm.slice(2);
  const names: Readonly<Record<string, string>> = {
    HS: `hmac-sha-${size}`,
    RS: `sign-rsa-sha-${size}`,
    PS: `sign-rsa-pss-sha-${size}`,
    ES: `sign-ecdsa-sha-${size}`,
  };
  return filters.get(ownMember(names, algorithm.slice(0, 2)) ?? 'sign-ed25519') as Filter;
}
