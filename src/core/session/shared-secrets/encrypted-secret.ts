/** One shared secret, encrypted for its recipients in the format of age, by the library of its author. */
import * as z from 'zod/mini';
import type { WaysOut } from '../../exchange/hosts/ways-out.js';
import { action } from '../../problem/actions.js';
import { Problem } from '../../problem/problem.js';
import type { Identity } from './identity.js';
import type { ReadLine, SharedLine } from './lines.js';
import { fingerprint, fingerprints, type Recipients } from './recipients.js';

const ways = z.object({ origins: z.array(z.string()), proxies: z.array(z.string()), roots: z.array(z.string()) });

/** What is encrypted. Its name and environment too: a line that is put into another file is not taken for another secret. */
const sharedSecret = z.object({
  secret: z.string(),
  environment: z.string(),
  value: z.string(),
  /** Where it may go, as whoever shared it saw it. */
  ways,
  /** ISO 8601. */
  shared: z.string(),
});
export type SharedSecret = Omit<z.infer<typeof sharedSecret>, 'ways'> & { readonly ways: WaysOut };

export async function encryptedSecret(secret: SharedSecret, recipients: Recipients): Promise<SharedLine> {
  const { Encrypter } = await import('age-encryption');
  const encrypter = new Encrypter();
  for (const key of Object.values(recipients)) encrypter.addRecipient(key);
  const bytes = await encrypter.encrypt(JSON.stringify(secret));
  return {
    name: secret.secret,
    recipients: fingerprints(recipients),
    encrypted: Buffer.from(bytes).toString('base64'),
  };
}

/** @param file for messages @throws Problem secret-unreadable */
export async function decryptedSecret(
  { name, recipients, encrypted, line }: ReadLine,
  environment: string,
  { privateKey, publicKey }: Identity,
  file: string,
): Promise<SharedSecret> {
  const fault = (what: string, more: { cause?: string; remedy?: string }): Problem =>
    new Problem('secret-unreadable', { what, where: { file, line }, ...more, data: { name } });
  const { Decrypter } = await import('age-encryption');
  const decrypter = new Decrypter();
  decrypter.addIdentity(privateKey);
  let text: string;
  try {
    text = await decrypter.decrypt(Buffer.from(encrypted, 'base64'), 'text');
  } catch (error) {
    if (!/no identity matched/i.test(String(error)))
      throw fault(`the shared secret ${name} cannot be decrypted`, {
        cause: 'its line was cut off or changed',
        remedy: 'restore the line from version control, or share the secret again',
      });
    const listed = recipients.includes(fingerprint(publicKey));
    throw fault(`the shared secret ${name} is not encrypted for you`, {
      cause: listed ? 'its line names you as a recipient, so the line was changed' : `your public key is ${publicKey}`,
      remedy: `once you are a recipient, a colleague re-encrypts it: ${action().shareAllSecrets()}`,
    });
  }
  const found = sharedSecret.safeParse(parsed(text)).data;
  if (!found)
    throw fault(`the shared secret ${name} cannot be decrypted`, { cause: 'its content is not a shared secret' });
  if (found.secret !== name || found.environment !== environment)
    throw fault(`the line of the shared secret ${name} belongs to another secret`, {
      cause: `it was shared as ${found.secret} in the environment ${found.environment}`,
      remedy: 'share it again in the right place',
    });
  return found;
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
