/**
 * Following redirects (RFC 9110 section 15.4): a 303 becomes a GET, a 301 or 302 of a POST too, all others keep method
 * and body. Credentials and cookies go on only to hosts that may have them.
 */
import { Problem } from '../problem/problem.js';
import type { Outcome } from './exchange.js';
import { type Hop, Received } from './received.js';
import type { HeaderLine, WireRequest } from './wire.js';

/** What may go along to another address. */
export interface Carrying {
  /** Whether credentials may be sent there. */
  allows(url: URL): boolean;
  /** The cookies that belong there. */
  cookies(url: URL): HeaderLine | undefined;
  /** Told of each answer, for its cookies; a promise where it has to wait. */
  answered(url: URL, headers: Received['headers']): Promise<unknown> | undefined;
  /** Of a signed request: what it was before, and the same for another address. */
  readonly signed?: { readonly bare: WireRequest; sign(wire: WireRequest): WireRequest };
}

const redirecting = new Set([301, 302, 303, 307, 308]);
const safe = new Set(['GET', 'HEAD']);
const usualMost = 10;

export const isRedirect = (status: number): boolean => redirecting.has(status);

export async function followRedirects(
  wire: WireRequest,
  first: Outcome,
  send: (wire: WireRequest) => Promise<Outcome>,
  carrying: Carrying | undefined,
): Promise<Outcome> {
  const hops: Hop[] = [];
  const most = wire.redirects ?? usualMost;
  const seen = new Set<string>();
  let current = carrying?.signed?.bare ?? wire;
  let outcome = first;
  for (;;) {
    const { received } = outcome;
    if (!received || outcome.trouble || !redirecting.has(received.status)) return withHops(outcome, hops);
    const location = received.headers.find(([name]) => name.toLowerCase() === 'location')?.[1];
    if (location === undefined || !isFollowed(wire, current.method, received.status)) return withHops(outcome, hops);
    const next = URL.canParse(location, current.url.href) ? new URL(location, current.url) : undefined;
    if (!next || !/^https?:$/.test(next.protocol)) return withHops(outcome, hops);
    // A fragment of the first address holds on (section 10.2.2).
    if (next.hash === '') next.hash = current.url.hash;
    hops.push({ status: received.status, url: current.url.href });
    const step = `${current.method} ${next.href}`;
    if (hops.length > most || seen.has(step)) {
      const trouble = new Problem('redirect-loop', {
        what: seen.has(step) ? 'the redirects go in a circle' : `more than ${most} redirects`,
        where: 'following redirects',
        cause: `the last led to ${location}`,
        remedy:
          'redirects: none shows the first answer; a server that wants a cookie or a session often goes in a circle',
      });
      return withHops({ received, trouble }, hops);
    }
    seen.add(step);
    const taking = carrying?.answered(current.url, received.headers);
    if (taking) await taking;
    const carried = nextRequest(current, next, received.status, carrying);
    if (carried instanceof Problem) return withHops({ received, trouble: carried }, hops);
    current = carried;
    // What was signed for one address does not hold for another.
    outcome = await send(carrying?.signed && carrying.allows(current.url) ? carrying.signed.sign(current) : current);
  }
}

/** Where the file says nothing: safe calls, and the GET that a 303 asks for. */
function isFollowed({ redirects }: WireRequest, method: string, status: number): boolean {
  if (redirects === 0) return false;
  return redirects !== undefined || safe.has(method) || status === 303;
}

function nextRequest(
  current: WireRequest,
  url: URL,
  status: number,
  carrying: Carrying | undefined,
): WireRequest | Problem {
  const becomesGet = status === 303 ? !safe.has(current.method) : current.method === 'POST' && status < 303;
  const allowed =
    url.origin === current.url.origin || (carrying?.allows(url) === true && !isDowngrade(current.url, url));
  if (!allowed && !becomesGet && current.body?.secret) {
    return new Problem('host-not-listed', {
      what: `the redirect would take a secret in the body to ${url.hostname}`,
      where: 'following redirects',
      remedy: "if the host is the vendor's, add it to hosts: in the environment",
    });
  }
  const cookie = allowed ? carrying?.cookies(url) : undefined;
  const headers = current.headers
    .filter(({ name, secret }) => {
      const key = name.toLowerCase();
      if (key === 'cookie' || key === 'host') return false;
      if (becomesGet && /^content-/.test(key)) return false;
      return allowed || !secret;
    })
    .concat(cookie ?? []);
  const host = current.headers.find(({ name }) => name.toLowerCase() === 'host');
  return {
    ...current,
    url,
    shownUrl: url.href,
    method: becomesGet ? 'GET' : current.method,
    body: becomesGet ? undefined : current.body,
    headers: host ? [{ ...host, value: url.host }, ...headers] : headers,
  };
}

/** What was encrypted does not go on in the open. */
const isDowngrade = (from: URL, to: URL): boolean => from.protocol === 'https:' && to.protocol === 'http:';

function withHops(outcome: Outcome, hops: readonly Hop[]): Outcome {
  if (hops.length === 0 || !outcome.received) return outcome;
  return { ...outcome, received: new Received({ ...outcome.received.parts, hops }) };
}
