/**
 * No secret is in a file that is shared.
 *
 *     password: ${secret.deskPassword}      # holds
 *     password: a-word-in-the-open          # does not
 */

import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import type { Collection } from '../../collection/collection.js';
import type { KnownSecret } from '../../echo/known-secrets.js';
import { action } from '../../problem/actions.js';
import { privateAgeKey } from '../../session/shared-secrets/identity.js';
import { sharedFolder } from '../../session/shared-secrets/lines.js';
import { isCredentialHeader, isSecretName } from '../../value/secret-fields.js';
import type { Finding } from '../finding.js';
import type { Rule } from '../rule.js';

type Found = Omit<Finding, 'rule'>;

/** Folders that are shared; what a vendor published is none of our making. */
const folders = ['requests', 'environments', 'trails', 'sessions', 'signatures', 'bodies', 'data', 'certs', 'secrets'];
/** Larger files are data. */
const largest = 1_000_000;

/** Shapes that are secrets wherever they stand. */
const shapes: readonly (readonly [what: string, shape: RegExp])[] = [
  ['a private key', /-----BEGIN (?:[A-Z]+ )*PRIVATE KEY-----/],
  ['a private key of age', privateAgeKey],
  ['a JSON Web Token', /\beyJ[\w-]{8,}\.eyJ[\w-]{8,}\.[\w-]{8,}/],
  ['a password in an address', /\bhttps?:\/\/[^\s/:@"'${}]+:[^\s/@"'${}]{3,}@/],
  ['a credential behind its scheme', /\b(?:Bearer|Basic) (?!\$)[A-Za-z0-9+/=_.~-]{12,}/],
];

/** `password: …`, `"apiKey": "…"`: a key that names a credential, and a text that is none of the collection's own words. */
const member =
  /^\s*(?:- )?["']?([A-Za-z][\w.-]*)["']?\s*:\s*(?:"([^"]+)"|'([^']+)'|([^\s"'{[#|>&*!][^#\n]*?))\s*(?:#.*)?$/;
const inFlow = /[{,]\s*["']?([A-Za-z][\w-]*)["']?\s*:\s*(?:"([^"]+)"|'([^']+)'|([^\s"',{}[\]]+))/g;

export const noSecretsInFiles: Rule = {
  name: 'no-secrets-in-files',
  must: 'no shared file contains a secret',
  async *check({ collection, secrets }) {
    const stored = (await secrets?.()) ?? [];
    const documented = publishedByVendor(collection);
    for (const file of ['echo-trail.yaml', ...folders.flatMap((folder) => filesIn(collection.root, folder))]) {
      const path = join(collection.root, file);
      if (!statSync(path, { throwIfNoEntry: false })?.isFile() || statSync(path).size > largest) continue;
      const text = readFileSync(path, 'utf8');
      if (text.includes('\0')) continue;
      const named = /\.(?:ya?ml|json)$/.test(file);
      const examples = publishedIn(collection, file);
      // What everybody may know is in such a block; of a private key one finding is enough.
      let block: 'public' | 'private' | undefined;
      let cookies: number | undefined;
      for (const [index, line] of text.split(/\r?\n/).entries()) {
        const known = storedIn(line, stored);
        const edge = /-----(BEGIN|END) (?:[A-Z]+ )*(PUBLIC KEY|CERTIFICATE|PRIVATE KEY)-----/.exec(line);
        const inKey = block === 'private';
        if (edge) block = edge[1] === 'END' ? undefined : edge[2] === 'PRIVATE KEY' ? 'private' : 'public';
        const indent = line.search(/\S/);
        if (cookies !== undefined && indent !== -1 && indent <= cookies) cookies = undefined;
        const found =
          known ??
          (inKey || block === 'public'
            ? undefined
            : inLine(line, {
                named,
                data: file.startsWith('data/'),
                session: file.startsWith('sessions/'),
                cookies: cookies !== undefined || /^\s*cookies:\s*\{/.test(line),
              }));
        if (/^\s*cookies:\s*(?:#.*)?$/.test(line)) cookies = indent;
        if (!found) continue;
        const [seen = ''] = line.slice(found.column - 1).split(/[\s"',}\]]/);
        const isPublished = seen !== '' && found !== known && (examples.includes(seen) || documented(seen));
        if (!isPublished) yield finding(found, file, index + 1);
      }
    }
  },
};

/** Where the value of a secret that is stored is in a line, in any of its forms. */
function storedIn(line: string, stored: readonly KnownSecret[]): Seen | undefined {
  for (const { name, holds } of stored) {
    const column = holds(line);
    if (column !== undefined) return { what: `the value of the secret ${name}`, column, sure: true };
  }
  return undefined;
}

/** What the documentation of the vendor shows, a draft may show; it is read where something looks like a secret. */
function publishedByVendor({ root, docs }: Collection): (text: string) => boolean {
  let texts: string[] | undefined;
  return (text) => {
    texts ??= Object.values(docs).flatMap(({ file, parts = {} }) =>
      [file, ...Object.values(parts)].flatMap((one) => {
        try {
          return readFileSync(join(root, one), 'utf8');
        } catch {
          return [];
        }
      }),
    );
    return text.length >= 6 && texts.some((one) => one.includes(text));
  };
}

/** The examples of a signature are the vendor's own, keys included: texts that anybody can read in its guide. */
function publishedIn(collection: Collection, file: string): string {
  const name = /^signatures\/(.*)\.yaml$/.exec(file)?.[1];
  if (name === undefined) return '';
  try {
    const { examples = [] } = collection.read('signature', name).content;
    const texts: string[] = [];
    JSON.stringify(examples, (_, value: unknown) => {
      if (typeof value === 'string') texts.push(value);
      return value;
    });
    return texts.join('\n');
  } catch {
    // What is wrong with the file is told of it.
    return '';
  }
}

interface Seen {
  readonly what: string;
  readonly column: number;
  readonly sure: boolean;
}

interface LineFacts {
  /** Its values have names. */
  readonly named: boolean;
  readonly data: boolean;
  readonly session: boolean;
  /** Its values are cookies. */
  readonly cookies: boolean;
}

/** What a session file calls its credentials. */
const sessionKeys = /^(?:key|secret|token|password|passphrase|refresh-token)$/;

function inLine(line: string, { named, data, session, cookies }: LineFacts): Seen | undefined {
  for (const [what, shape] of shapes) {
    const at = line.search(shape);
    if (at !== -1) return { what, column: at + 1, sure: true };
  }
  if (named) {
    const members = [member.exec(line), ...line.matchAll(inFlow)].filter((match) => match !== null);
    for (const [whole, key = '', double, single, bare] of members) {
      const value = double ?? single ?? bare ?? '';
      const credential = isSecretName(key) || isCredentialHeader(key) || (session && sessionKeys.test(key));
      if (cookies && key !== 'cookies' && isCookie(value))
        return {
          what: `the value of the cookie ${key}`,
          column: line.indexOf(value, line.indexOf(whole)) + 1,
          sure: true,
        };
      if (credential && isLiteral(value, session))
        return { what: `the value of ${key}`, column: line.indexOf(value, line.indexOf(whole)) + 1, sure: true };
    }
  }
  // Names of operations and paths are the vendor's.
  if (data || /^\s*(?:operation|url):/.test(line)) return undefined;
  for (const match of line.matchAll(/[A-Za-z0-9+/_-]{24,}={0,2}/g)) {
    if (isRandom(match[0])) return { what: 'a text that looks random', column: match.index + 1, sure: false };
  }
  return undefined;
}

const isCookie = (value: string): boolean =>
  value.length >= 8 && /[a-z]/i.test(value) && /\d/.test(value) && isLiteral(value, true);

/** A text that is neither an expression, a place, a path, an address nor a word about itself. @param spaces it may hold some */
function isLiteral(value: string, spaces: boolean): boolean {
  if (value.length < 6 || /\$\{|^[$/.]|^\w+:\/\//.test(value)) return false;
  if (/\.(?:pem|p12|pfx|key|yaml|json|xml|txt)$/.test(value) || /^(?:true|false|null|string|\d+)$/.test(value))
    return false;
  return !/^(?:header|cookie|body|form|query)\.?[\w-]*$/.test(value) && (spaces || !/\s/.test(value.trim()));
}

/** Letters of both cases and digits, all mixed; no word, no path, no digest in hexadecimal, no UUID. */
function isRandom(text: string): boolean {
  // The name of an operation may end with a number, and has no other.
  const numbers = text.match(/\d+/g)?.length ?? 0;
  if (!/[a-z]/.test(text) || !/[A-Z]/.test(text) || numbers < 2 || text.split('/').length > 3) return false;
  // Names of many words change their kind of letter seldom.
  const changes = [...text].filter((char, index) => index > 0 && kindOf(char) !== kindOf(text[index - 1] as string));
  return changes.length / text.length > 0.35 && entropy(text) > 3.8;
}

const kindOf = (char: string): string =>
  /[a-z]/.test(char) ? 'a' : /[A-Z]/.test(char) ? 'A' : /\d/.test(char) ? '0' : '-';

/** Shannon entropy, in bits a letter. */
function entropy(text: string): number {
  const counts = new Map<string, number>();
  for (const char of text) counts.set(char, (counts.get(char) ?? 0) + 1);
  let bits = 0;
  for (const count of counts.values()) bits -= (count / text.length) * Math.log2(count / text.length);
  return bits;
}

/** Never the value itself. */
const finding = ({ what, column, sure }: Seen, file: string, line: number): Found => ({
  severity: sure ? 'error' : 'warning',
  where: { file, line, column },
  what: `${what} is in a shared file`,
  remedy: `${action().setSecret(['NAME'])}, and \${secret.NAME} here${sure ? '; what was shared already has to be replaced' : ''}`,
});

function filesIn(root: string, folder: string): string[] {
  try {
    return (
      readdirSync(join(root, folder), { recursive: true, withFileTypes: true })
        // What is shared is encrypted there, and has a rule of its own.
        .filter((entry) => entry.isFile() && !(folder === sharedFolder && entry.name.endsWith('.age')))
        .map((entry) => join(entry.parentPath, entry.name).slice(root.length + 1))
    );
  } catch {
    return [];
  }
}
