/**
 * One's own identity: a private key of age in the user's own folder, or in the process environment. Its file is one that every age
 * program takes; with a pass phrase it is an age file itself.
 */
import { existsSync, readFileSync } from 'node:fs';
import { chmod, mkdir } from 'node:fs/promises';
import { join } from 'node:path';
import { action } from '../../problem/actions.js';
import { Problem } from '../../problem/problem.js';
import { writeAtomically, writeOnce } from '../../storage/atomic-write.js';

/** In the process environment, for a machine without a person. */
export const identityVariable = 'ECHO_TRAIL_IDENTITY';

/** What its private part looks like, wherever it stands. */
export const privateAgeKey = /AGE-SECRET-KEY-(?:PQ-)?1[0-9A-Z]{20,}/;

export const identityFile = (home: string): string => join(home, 'identity');
/** Beside it, so that nobody has to be asked for a pass phrase to show it. */
const publicFile = (home: string): string => join(home, 'identity.public');

export interface Identity {
  /** `AGE-SECRET-KEY-1…` */
  readonly privateKey: string;
  /** `age1…` */
  readonly publicKey: string;
}

export interface IdentitySources {
  /** The user's own folder. */
  readonly home: string;
  readonly processEnvironment: Readonly<Record<string, string | undefined>>;
  /** Asks a person for the pass phrase; undefined where nobody is there. */
  readonly passPhrase?: (() => Promise<string>) | undefined;
}

/** @param passPhrase empty for none @throws Problem file-exists: there is one already */
export async function makeIdentity(home: string, passPhrase: string): Promise<string> {
  const file = identityFile(home);
  const there = new Problem('file-exists', {
    what: 'you already have an identity',
    where: { file },
    remedy: `${action().showIdentity()}`,
  });
  if (existsSync(file)) throw there;
  const { Encrypter, armor, generateX25519Identity, identityToRecipient } = await import('age-encryption');
  const privateKey = await generateX25519Identity();
  const publicKey = await identityToRecipient(privateKey);
  const plain = `# public key: ${publicKey}\n${privateKey}\n`;
  await mkdir(home, { recursive: true, mode: 0o700 });
  let text = plain;
  if (passPhrase !== '') {
    const encrypter = new Encrypter();
    encrypter.setPassphrase(passPhrase);
    text = armor.encode(await encrypter.encrypt(plain));
  }
  if (!(await writeOnce(file, text, 0o600))) throw there;
  await chmod(file, 0o600);
  await writeAtomically(publicFile(home), `${publicKey}\n`);
  return publicKey;
}

/**
 * The public key of one's own identity, without asking anybody.
 * @throws Problem secret-unreadable: the one in the process environment is none
 */
export async function ownPublicKey({ home, processEnvironment }: IdentitySources): Promise<string | undefined> {
  const given = processEnvironment[identityVariable];
  if (given) return (await identityIn(given, identityVariable)).publicKey;
  const [file, beside] = [identityFile(home), publicFile(home)];
  if (existsSync(beside)) return readFileSync(beside, 'utf8').trim();
  if (!existsSync(file)) return undefined;
  const text = readFileSync(file, 'utf8');
  return isEncrypted(text) ? undefined : (await identityIn(text, file)).publicKey;
}

/** @throws Problem secret-unreadable: there is none, or it cannot be opened */
export async function ownIdentity({ home, processEnvironment, passPhrase }: IdentitySources): Promise<Identity> {
  const given = processEnvironment[identityVariable];
  if (given) return identityIn(given, identityVariable);
  const file = identityFile(home);
  if (!existsSync(file))
    throw new Problem('secret-unreadable', {
      what: 'you have no identity to decrypt shared secrets with',
      remedy: `${action().makeIdentity()}; then a colleague adds its public key: ${action().addRecipient()}`,
    });
  const text = readFileSync(file, 'utf8');
  return identityIn(isEncrypted(text) ? await unlocked(text, file, passPhrase) : text, file);
}

const isEncrypted = (text: string): boolean => /^\s*-----BEGIN AGE ENCRYPTED FILE-----/.test(text);

async function unlocked(text: string, file: string, passPhrase: IdentitySources['passPhrase']): Promise<string> {
  if (!passPhrase)
    throw new Problem('secret-unreadable', {
      what: 'your identity needs a pass phrase, and there is no interactive terminal',
      where: { file },
      remedy: `a machine takes ${identityVariable} from the process environment`,
    });
  const { Decrypter, armor } = await import('age-encryption');
  const decrypter = new Decrypter();
  decrypter.addPassphrase(await passPhrase());
  try {
    return await decrypter.decrypt(armor.decode(text.trim()), 'text');
  } catch (error) {
    const wrong = /no identity matched|passphrase/i.test(String(error));
    throw new Problem('secret-unreadable', {
      what: wrong ? 'the pass phrase is wrong' : 'your identity cannot be read',
      where: { file },
      cause: wrong ? undefined : 'the file was cut off or changed',
    });
  }
}

/** @param from for messages: where the text is from; the text itself is never told */
async function identityIn(text: string, from: string): Promise<Identity> {
  const lines = text.split(/\r?\n/).map((line) => line.trim());
  const privateKey = lines.find((line) => line !== '' && !line.startsWith('#')) ?? '';
  const { identityToRecipient } = await import('age-encryption');
  try {
    return { privateKey, publicKey: await identityToRecipient(privateKey) };
  } catch {
    throw new Problem('secret-unreadable', {
      what: `${from} is not an age private key`,
      remedy: 'a private key is one line that begins with AGE-SECRET-KEY-1',
    });
  }
}
