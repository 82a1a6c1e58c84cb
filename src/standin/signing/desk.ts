/** What all desks that want a seal have in common: raw bodies, a clock, and no seal twice. */
import { createHash, timingSafeEqual } from 'node:crypto';
import type { FastifyInstance, FastifyRequest } from 'fastify';
import { AccessDenied } from '../problem.js';

/** Seconds by which a seal may be older, or newer, than the desk's clock. */
const window = 300;

/** A seal is over bytes: nothing is read as JSON before it has been looked at. */
export function takesBytes(scope: FastifyInstance): void {
  scope.removeAllContentTypeParsers();
  scope.addContentTypeParser('*', { parseAs: 'buffer', bodyLimit: 1e9 }, (_request, body, done) => done(null, body));
}

export const bodyOf = ({ body }: FastifyRequest): Buffer => (Buffer.isBuffer(body) ? body : Buffer.alloc(0));

export const sha256 = (bytes: Buffer | string): string => createHash('sha256').update(bytes).digest('hex');

export const sameText = (a: string, b: string): boolean =>
  a.length === b.length && timingSafeEqual(Buffer.from(a), Buffer.from(b));

/** Remembers what was used. */
export function onlyOnce(): (seal: string) => boolean {
  const seen = new Set<string>();
  return (seal) => {
    if (seen.has(seal)) return false;
    seen.add(seal);
    return true;
  };
}

/** @param seconds since 1970; NaN is never fresh */
export const isFresh = (seconds: number): boolean => Math.abs(Date.now() / 1000 - seconds) <= window;

/** `20261126T093000Z` in seconds since 1970; NaN where it is written otherwise. */
export function stampSeconds(text: string): number {
  const [, year, month, day, hour, minute, second] = /^(\d{4})(\d\d)(\d\d)T(\d\d)(\d\d)(\d\d)Z$/.exec(text) ?? [];
  return Date.parse(`${year}-${month}-${day}T${hour}:${minute}:${second}Z`) / 1000;
}

/** Parameters by name and then by value, all but unreserved characters as octets. */
export function sortedQuery(text: string): string {
  const octets = (part: string): string =>
    encodeURIComponent(decodeURIComponent(part)).replace(
      /[!'()*]/g,
      (char) => `%${char.charCodeAt(0).toString(16).toUpperCase()}`,
    );
  return text
    .split('&')
    .filter((pair) => pair !== '')
    .map((pair) => {
      const at = pair.indexOf('=');
      return at === -1 ? [pair, ''] : [pair.slice(0, at), pair.slice(at + 1)];
    })
    .map(([name, value]) => `${octets(name as string)}=${octets(value as string)}`)
    .sort()
    .join('&');
}

/** Path and query as they came. */
export function targetOf({ raw }: FastifyRequest): { readonly path: string; readonly query: string } {
  const [path = '', ...query] = (raw.url ?? '').split('?');
  return { path, query: query.join('?') };
}

/** As terse as vendors are; `X-Explain: yes` gets what the desk expected. */
export function refusal(request: FastifyRequest, detail: string, expected?: string, status = 401): AccessDenied {
  const explain = request.headers['x-explain'] === 'yes' && expected !== undefined;
  return new AccessDenied(status, 'seal', 'Not accepted', detail, explain ? { more: { expected } } : {});
}
