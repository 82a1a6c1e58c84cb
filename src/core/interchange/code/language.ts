/** A programming language: how it writes what a program works out, and how its standard client sends. */
import { ownMember } from '../../value/own-member.js';
import { type CodeExpression, type DigestAlgorithm, isBytes, type SignScheme, type TimeForm } from './expression.js';
import type { CodeRequest } from './program.js';

export interface Language {
  readonly name: string;
  /** With the client that it uses. */
  readonly about: string;
  readonly ending: string;
  /** What its standard library cannot do: the name of an operation, or `digest md5`. */
  readonly unable?: (expression: CodeExpression) => boolean;
  /** The whole program. */
  write(request: CodeRequest): string;
}

/** How a language writes each operation; `need` asks for an import or a helper that it uses. */
export interface Notation {
  text(given: string): string;
  env(name: string): string;
  name(name: string): string;
  join(parts: readonly string[]): string;
  /** @param shift milliseconds */
  time(form: TimeForm, shift: number): string;
  uuid(): string;
  nonce(): string;
  /** The UTF-8 of a text. */
  bytes(text: string): string;
  digest(algorithm: DigestAlgorithm, data: string): string;
  hmac(algorithm: DigestAlgorithm, key: string, data: string): string;
  /** @param key a text in PEM; left out where the language is unable */
  sign?(scheme: SignScheme, key: string, data: string): string;
  /** Of bytes. */
  encode(how: 'hex' | 'base64' | 'base64url', data: string): string;
  decode(how: 'from-hex' | 'from-base64', data: string): string;
  change(how: 'upper' | 'lower' | 'percent' | 'form' | 'json' | 'xml', data: string): string;
  slice(data: string, from: number, to: number): string;
  body(): string;
}

/** An expression in the words of a language. */
export function written(expression: CodeExpression, notation: Notation): string {
  const inner = (one: CodeExpression): string => written(one, notation);
  const asBytes = (one: CodeExpression): string => (isBytes(one) ? inner(one) : notation.bytes(inner(one)));
  switch (expression.op) {
    case 'text':
      return notation.text(expression.text);
    case 'env':
      return notation.env(expression.name);
    case 'name':
      return notation.name(expression.name);
    case 'join':
      return notation.join(expression.parts.map(inner));
    case 'time':
      return notation.time(expression.form, expression.shift);
    case 'uuid':
      return notation.uuid();
    case 'nonce':
      return notation.nonce();
    case 'digest':
      return notation.digest(expression.algorithm, asBytes(expression.data));
    case 'hmac':
      return notation.hmac(expression.algorithm, asBytes(expression.key), asBytes(expression.data));
    case 'sign':
      if (!notation.sign) throw new Error('the language is asked for a signature that it cannot make');
      return notation.sign(expression.scheme, inner(expression.key), asBytes(expression.data));
    case 'hex':
    case 'base64':
    case 'base64url':
      return notation.encode(expression.op, asBytes(expression.data));
    case 'from-hex':
    case 'from-base64':
      return notation.decode(expression.op, inner(expression.data));
    case 'slice':
      return notation.slice(inner(expression.data), expression.from, expression.to);
    case 'body':
      return notation.body();
    case 'mark':
      throw new Error('a mark is left in a program');
    default:
      return notation.change(expression.op, inner(expression.data));
  }
}

/** What a program needs of its language, each once, in the order in which it was asked for. */
export class Needs {
  private readonly asked = new Map<string, string>();

  /** @param kind such as `import`; @returns the text, to be used at once */
  readonly need = (kind: string, text: string): void => {
    this.asked.set(`${kind} ${text}`, text);
  };

  of(kind: string): string[] {
    return [...this.asked].filter(([key]) => key.startsWith(`${kind} `)).map(([, text]) => text);
  }

  has(kind: string, text: string): boolean {
    return this.asked.has(`${kind} ${text}`);
  }
}

const words = (name: string): string[] => name.split(/[^A-Za-z\d]+/).filter((word) => word !== '');

/** Words that a language keeps for itself, or that a program here uses. */
const taken = new Set(
  `base body bytes call class client connection const constants context crypto curve data def default digest ecdsa end env
  file from func function hash headers hex hmac http id import in json log moment namespace nonce now os package parts pem
  private public random request response return rsa secrets sign signed string strings sys time url using uuid var xml`.split(
    /\s+/,
  ),
);

export function camelName(name: string): string {
  const made = words(name)
    .map((word, index) => (index === 0 ? word : (word[0] as string).toUpperCase() + word.slice(1)))
    .join('');
  return taken.has(made) ? `${made}Text` : made;
}

export function snakeName(name: string): string {
  const made = words(name).join('_').toLowerCase();
  return taken.has(made) ? `${made}_text` : made;
}

/** A text between double quotes, in the escapes that C has handed down; other characters as they are. */
export function quoted(given: string, more: Readonly<Record<string, string>> = {}, unicode = unicodeEscape): string {
  return `"${given.replace(/[\p{Cc}\p{Cf}\u2028\u2029"\\$#]/gu, (sign) => ownMember(more, sign) ?? ownMember(usual, sign) ?? (sign === '$' || sign === '#' ? sign : unicode(sign)))}"`;
}

const usual: Readonly<Record<string, string>> = { '"': '\\"', '\\': '\\\\', '\n': '\\n', '\r': '\\r', '\t': '\\t' };
const unicodeEscape = (sign: string): string =>
  [...Array(sign.length).keys()].map((at) => `\\u${sign.charCodeAt(at).toString(16).padStart(4, '0')}`).join('');

/** In brackets, unless it is one word or one call. */
export const grouped = (code: string): string =>
  /^(?:"(?:[^"\\]|\\.)*"|[\w.$@]+(?:\([^()]*\)|\["[^"]*"\])?)$/.test(code) ? code : `(${code})`;

/** Remarks at the head of a program. */
export function remarks({ environment, keys, left }: CodeRequest, sign: string, files: readonly string[]): string[] {
  return [
    ...(environment.length > 0 ? [`It reads from the process environment: ${environment.join(', ')}`] : []),
    ...(keys.length > 0 ? [`A private key in PEM (PKCS #8): ${keys.join(', ')}`] : []),
    ...(files.length > 0 ? [`It is started where these files are: ${files.join(', ')}`] : []),
    ...left.map((one) => `Not in it: ${one}`),
  ].map((line) => `${sign} ${line.replace(/\p{Cc}/gu, ' ')}`);
}

export const filesOf = ({ body }: CodeRequest): string[] =>
  body.flatMap((one) => (one.kind === 'file' ? [one.path] : []));
