/**
 * The credentials in what is sent and received, by the names of the header lines, parameters and fields that carry them:
 * wherever they were written, they are secret from then on.
 */
import { isCredentialHeader, isSecretName, secretFieldValues } from '../../value/secret-fields.js';
import type { Received } from '../response/received.js';

/** Of lines that many requests share. */
const looked = new WeakSet<Holding['headers']>();
const longestLooked = 200_000;

/** What of a request is looked at. */
interface Holding {
  readonly url: URL;
  readonly headers: readonly { readonly name: string; readonly value: string; readonly origin?: string }[];
  readonly body?: { readonly shown: string } | undefined;
}

export function credentialsIn({ url, headers, body }: Holding): string[] {
  const found: string[] = [];
  if (!looked.has(headers)) {
    looked.add(headers);
    for (const { name, value, origin } of headers)
      if (origin !== 'automatic' && isCredentialHeader(name)) found.push(...headerParts(name, value));
  }
  if (url.search !== '')
    for (const [name, value] of url.searchParams) if (isSecretName(name) && value !== '') found.push(value);
  if (body && body.shown.length <= longestLooked) found.push(...secretFieldValues(body.shown));
  return found;
}

export function credentialsReceived({ headers }: Received): string[] {
  const found: string[] = [];
  for (const [name, value] of headers)
    if (isCredentialHeader(name)) found.push(...headerParts(name.replace(/^set-/i, ''), value));
  return found;
}

/** A scheme is no secret (RFC 9110 section 11.4), nor is the name of a cookie. */
function headerParts(name: string, value: string): string[] {
  if (/^cookie$/i.test(name)) return value.split(/;\s*/).flatMap((pair) => pair.split('=').slice(1).join('=') || []);
  const [, scheme = '', rest = value] = /^([A-Za-z][\w-]*) +(.+)$/s.exec(value) ?? [];
  if (!/^basic$/i.test(scheme)) return [rest];
  // RFC 7617, section 2.
  const password = Buffer.from(rest, 'base64').toString('utf8').split(':').slice(1).join(':');
  return [rest, ...(password === '' ? [] : [password])];
}
