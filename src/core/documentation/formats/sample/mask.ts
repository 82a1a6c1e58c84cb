/** Samples without what is secret: they are kept in the collection, which is shared. */
import { isCredentialHeader, isSecretName, withoutSecretFields } from '../../../value/secret-fields.js';
import type { Sample } from './samples.js';

const mask = '‹secret›';
/** Characters. Shorter values stand in texts by chance. */
const leastLength = 8;

/** Values of header lines that carry credentials, and what is in them. */
export function credentialsOf(headers: Iterable<readonly [name: string, value: string]>): string[] {
  const found: string[] = [];
  for (const [name, value] of headers) {
    if (!isCredentialHeader(name)) continue;
    found.push(value, value.replace(/^\S+\s+/, ''));
    for (const [, cookie = ''] of value.matchAll(/=([^;\s]+)/g)) if (/cookie$/i.test(name)) found.push(cookie);
  }
  return [...new Set(found)].filter((one) => one.length >= leastLength).sort((a, b) => b.length - a.length);
}

/** @param credentials values that are secret wherever they stand, the longest first */
export function masked(sample: Sample, credentials: readonly string[]): Sample {
  const hide = (text: string): string => hidden(text, credentials);
  const body = (one: Sample['sent']): Sample['sent'] => one && { ...one, text: hide(one.text) };
  const [sent, received] = [body(sample.sent), body(sample.received)];
  return { ...sample, url: hide(sample.url), ...(sent && { sent }), ...(received && { received }) };
}

/** Header, payload and signature of a JSON Web Token (RFC 7519). */
const webToken = /\beyJ[\w-]{10,}\.[\w-]{10,}\.[\w-]*/g;
const element = /<((?:[\w.-]+:)?([\w.-]+))(\s[^<>]*)?>([^<>]+)<\/\1\s*>/g;

function hidden(text: string, credentials: readonly string[]): string {
  let shown = text;
  for (const one of credentials) shown = shown.replaceAll(one, mask).replaceAll(encodeURIComponent(one), mask);
  return withoutSecretFields(shown, mask)
    .replace(webToken, mask)
    .replace(element, (whole, tag: string, local: string, attributes = '') =>
      isSecretName(local) ? `<${tag}${attributes}>${mask}</${tag}>` : whole,
    );
}
