/**
 * The file of the secrets that are shared in an environment: a line each, encrypted by itself, so that version control merges what
 * two people add. A line is the name, whom it is for, and a whole age file in Base64.
 */
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { Problem } from '../../problem/problem.js';

export const sharedFolder = 'secrets';

/** In the collection, with `/`. */
export const sharedFile = (environment: string): string => `${sharedFolder}/${environment}.age`;
const sharedPath = (root: string, environment: string): string => join(root, ...sharedFile(environment).split('/'));

export const hasShared = (root: string, environment: string): boolean => existsSync(sharedPath(root, environment));

export interface SharedLine {
  /** `deskPassword`, or `token[n1]`. */
  readonly name: string;
  /** Fingerprints of the recipients, as they were when it was encrypted. */
  readonly recipients: readonly string[];
  /** In Base64. */
  readonly encrypted: string;
}

export interface ReadLine extends SharedLine {
  /** From 1. */
  readonly line: number;
}

export interface SharedLines {
  readonly lines: readonly ReadLine[];
  /** Lines that are no shared secret, and of which they seem to have been. */
  readonly faults: readonly { readonly line: number; readonly name: string }[];
}

const shape =
  /^(\S+) ([0-9a-f]{12}(?:,[0-9a-f]{12})*) ((?:[A-Za-z0-9+/]{4})*(?:[A-Za-z0-9+/]{2}==|[A-Za-z0-9+/]{3}=)?)$/;
/** How an age file begins, in Base64. */
const beginning = Buffer.from('age-encryption.org/v1').toString('base64');

export function readSharedLines(text: string): SharedLines {
  const lines: ReadLine[] = [];
  const faults: { line: number; name: string }[] = [];
  for (const [index, given] of text.split('\n').entries()) {
    const content = given.trim();
    if (content === '' || content.startsWith('#')) continue;
    const [, name, recipients = '', encrypted = ''] = shape.exec(content) ?? [];
    if (name === undefined || !encrypted.startsWith(beginning))
      faults.push({ line: index + 1, name: decoded(/^[^\s:=]*/.exec(content)?.[0] ?? '') });
    else lines.push({ name: decoded(name), recipients: recipients.split(','), encrypted, line: index + 1 });
  }
  return { lines, faults };
}

/** In the order of the names, an empty line between two: what is added in two places is merged. */
export function sharedText(environment: string, lines: readonly SharedLine[]): string {
  const sorted = [...lines].sort((a, b) => (a.name < b.name ? -1 : 1));
  return [
    `# Shared secrets of the environment ${environment}. Each line: name, fingerprints of the recipients, age file in Base64.`,
    ...sorted.map(({ name, recipients, encrypted }) => `${encoded(name)} ${recipients.join(',')} ${encrypted}`),
    '',
  ]
    .join('\n\n')
    .trimEnd()
    .concat('\n');
}

const encoded = (name: string): string => name.replace(/[\s%#]/g, encodeURIComponent);

function decoded(name: string): string {
  try {
    return decodeURIComponent(name);
  } catch {
    return name;
  }
}

/** The error about a line that is not a shared secret. */
export const faultyLine = (file: string, line: number): Problem =>
  new Problem('secret-unreadable', {
    what: 'this line is not a shared secret',
    where: { file, line },
    cause: 'a line has a name, fingerprints of recipients and an age file in Base64',
    remedy: 'restore the line from version control, or remove it and share the secret again',
  });
