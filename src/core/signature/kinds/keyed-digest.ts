/** `keyed-digest`: a keyed digest of the body (RFC 2104), in a header. */
import type { KeyedDigestFile } from '../../collection/files/signature-file.js';
import type { SignatureKind } from '../signature-kind.js';
import { recipe } from './recipe.js';

export const keyedDigest: SignatureKind<KeyedDigestFile> = {
  name: 'keyed-digest',
  about: 'a keyed digest of the body, in a header',
  // It is the shortest of all recipes.
  compile: ({ algorithm, key, header, encoding = 'hex', prefix = '' }, setting) =>
    recipe.compile(
      {
        define: { key, digest: `\${sent.body | ${algorithm}(key) | ${encoding}}` },
        headers: { [header]: `${prefix}\${digest}` },
      },
      setting,
    ),
};
