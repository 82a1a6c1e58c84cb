/** Digest access authentication (RFC 7616): challenges read, and the responses to them computed. */

import { createHash, randomBytes } from 'node:crypto';
import { ownMember } from '../value/own-member.js';
import type { CallToProve } from './session-kind.js';

export interface Challenge {
  readonly realm: string;
  readonly nonce: string;
  readonly opaque: string | undefined;
  /** As the server writes it; MD5 where it says nothing. */
  readonly algorithm: string;
  /** undefined where the server speaks RFC 2069. */
  readonly qop: 'auth' | 'auth-int' | undefined;
  readonly userhash: boolean;
  /** The nonce ended, and nothing else was wrong. */
  readonly stale: boolean;
}

/** The strongest first. */
const algorithms: Readonly<Record<string, string>> = { 'SHA-512-256': 'sha512-256', 'SHA-256': 'sha256', MD5: 'md5' };

/** The strongest Digest challenge of the `WWW-Authenticate` lines that can be answered. */
export function challengeIn(headers: readonly (readonly [name: string, value: string])[]): Challenge | undefined {
  const found = headers
    .filter(([name]) => name.toLowerCase() === 'www-authenticate')
    .flatMap(([, value]) => [
      ...value.matchAll(/(?:^|,\s*)Digest\s+((?:[\w-]+\s*=\s*(?:"(?:[^"\\]|\\.)*"|[^\s,]+)\s*,?\s*)+)/gi),
    ])
    .flatMap(([, list = '']) => challengeFrom(list) ?? []);
  const strength = ({ algorithm }: Challenge): number =>
    Object.keys(algorithms).indexOf(algorithm.replace(/-sess$/i, '').toUpperCase());
  return found.sort((a, b) => strength(a) - strength(b))[0];
}

/** What a Digest challenge asks for that is not known here; undefined where it can be met, or there is none. */
export function unknownDigest(headers: readonly (readonly [name: string, value: string])[]): string | undefined {
  if (challengeIn(headers)) return undefined;
  const line = headers.find(
    ([name, value]) => name.toLowerCase() === 'www-authenticate' && /^digest\b/i.test(value),
  )?.[1];
  const [, quoted, bare] = /\balgorithm\s*=\s*(?:"([^"]*)"|([^\s,]+))/i.exec(line ?? '') ?? [];
  const algorithm = quoted ?? bare;
  if (line === undefined) return undefined;
  return algorithm === undefined || Object.hasOwn(algorithms, algorithm.replace(/-sess$/i, '').toUpperCase())
    ? 'a challenge without a nonce, or with a quality of protection that is none of auth and auth-int'
    : `the algorithm ${algorithm}`;
}

function challengeFrom(list: string): Challenge | undefined {
  const given = new Map(
    [...list.matchAll(/([\w-]+)\s*=\s*(?:"((?:[^"\\]|\\.)*)"|([^\s,]+))/g)].map(([, name = '', quoted, bare]) => [
      name.toLowerCase(),
      quoted?.replace(/\\(.)/g, '$1') ?? bare ?? '',
    ]),
  );
  const algorithm = given.get('algorithm') ?? 'MD5';
  const nonce = given.get('nonce');
  const offered = given.get('qop')?.split(/\s*,\s*/);
  if (nonce === undefined || !Object.hasOwn(algorithms, algorithm.replace(/-sess$/i, '').toUpperCase()))
    return undefined;
  const qop = offered?.includes('auth') ? 'auth' : offered?.includes('auth-int') ? 'auth-int' : undefined;
  if (offered && !qop) return undefined;
  return {
    realm: given.get('realm') ?? '',
    nonce,
    opaque: given.get('opaque'),
    algorithm,
    qop,
    userhash: given.get('userhash')?.toLowerCase() === 'true',
    stale: given.get('stale')?.toLowerCase() === 'true',
  };
}

/**
 * The value of the Authorization header.
 * @param count how often the nonce was used, this time included
 * @param cnonce of our own; random where none is given
 */
export function digestAuthorization(
  { realm, nonce, opaque, algorithm, qop, userhash }: Challenge,
  { user, password }: { readonly user: string; readonly password: string },
  { method, target, body = new Uint8Array() }: Omit<CallToProve, 'host'>,
  count: number,
  cnonce: string = randomBytes(12).toString('base64url'),
): string {
  const sessioned = /-sess$/i.test(algorithm);
  const name = ownMember(algorithms, algorithm.replace(/-sess$/i, '').toUpperCase()) as string;
  const hash = (text: string | Uint8Array): string => createHash(name).update(text).digest('hex');
  const nc = count.toString(16).padStart(8, '0');
  // Sections 3.4.1 to 3.4.3.
  const secret = hash(`${user}:${realm}:${password}`);
  const a1 = sessioned ? hash(`${secret}:${nonce}:${cnonce}`) : secret;
  const a2 = hash(qop === 'auth-int' ? `${method}:${target}:${hash(body)}` : `${method}:${target}`);
  const response = hash(qop === undefined ? `${a1}:${nonce}:${a2}` : `${a1}:${nonce}:${nc}:${cnonce}:${qop}:${a2}`);
  const quoted = (text: string): string => `"${text.replace(/["\\]/g, '\\$&')}"`;
  // biome-ignore lint/suspicious/noControlCharactersInRegex: all of ASCII
  const plain = /^[\u0000-\u007f]*$/.test(user);
  const shown = userhash
    ? `username=${quoted(hash(`${user}:${realm}`))}`
    : plain
      ? `username=${quoted(user)}`
      : `username*=UTF-8''${extendedValue(user)}`;
  return `Digest ${[
    shown,
    `realm=${quoted(realm)}`,
    `uri=${quoted(target)}`,
    `algorithm=${algorithm}`,
    `nonce=${quoted(nonce)}`,
    ...(qop === undefined ? [] : [`nc=${nc}`, `cnonce=${quoted(cnonce)}`, `qop=${qop}`]),
    `response=${quoted(response)}`,
    ...(opaque === undefined ? [] : [`opaque=${quoted(opaque)}`]),
    ...(userhash ? ['userhash=true'] : []),
  ].join(', ')}`;
}

/** The nonce that the server wants next (section 3.5). */
export function nextNonce(headers: readonly (readonly [name: string, value: string])[]): string | undefined {
  const line = headers.find(([name]) => name.toLowerCase() === 'authentication-info')?.[1];
  return line === undefined ? undefined : /\bnextnonce\s*=\s*"([^"]*)"/i.exec(line)?.[1];
}

/** RFC 8187 section 3.2.1. */
const extendedValue = (text: string): string =>
  encodeURIComponent(text).replace(/['()*]/g, (mark) => `%${mark.charCodeAt(0).toString(16).toUpperCase()}`);
