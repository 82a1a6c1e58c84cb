/** Whom secrets are shared with: names and age public keys in the manifest. */
import { createHash } from 'node:crypto';
import { action } from '../../problem/actions.js';
import { Problem } from '../../problem/problem.js';

/** By name, `age1…`. */
export type Recipients = Readonly<Record<string, string>>;

/** Beside an encrypted secret, since age does not say whom a file is for: the beginning of the SHA-256 of the key. */
export const fingerprint = (key: string): string => createHash('sha256').update(key).digest('hex').slice(0, 12);

export const fingerprints = (recipients: Recipients): string[] => Object.values(recipients).map(fingerprint).sort();

/** @throws Problem usage: not a public key that can be used */
export async function requireRecipient(key: string): Promise<void> {
  const remedy = `a public key begins with age1: ${action().showIdentity()}`;
  if (/^AGE-SECRET-KEY-/i.test(key))
    throw new Problem('usage', { what: 'that is a private key; never give it to anybody', remedy });
  if (/^ssh-/.test(key)) throw new Problem('usage', { what: 'SSH keys are not supported; use an age key', remedy });
  const { Encrypter } = await import('age-encryption');
  try {
    new Encrypter().addRecipient(key);
  } catch {
    throw new Problem('usage', { what: `${key} is not a complete age public key`, remedy });
  }
}
