/** All kinds of signatures. A new one is one file and one line here. */
import type { SignatureFile } from '../collection/files/signature-file.js';
import { keyedDigest } from './kinds/keyed-digest.js';
import { messageSignature } from './kinds/message-signature.js';
import { recipe } from './kinds/recipe.js';
import { requestToken } from './kinds/request-token.js';
import type { SignatureKind, SignatureSetting, Signer } from './signature-kind.js';

const all = [recipe, messageSignature, keyedDigest, requestToken] as const;

export const signatureKinds: ReadonlyMap<string, SignatureKind> = new Map(
  all.map((kind) => [kind.name, kind as unknown as SignatureKind]),
);

/** @throws Problem about anything in the file that cannot be made ready */
export function compileSignature(file: SignatureFile, setting: SignatureSetting): Signer {
  return (signatureKinds.get(file.kind ?? 'recipe') as SignatureKind).compile(file, setting);
}
