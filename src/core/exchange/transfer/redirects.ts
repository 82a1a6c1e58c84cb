/**
 * Following redirects (RFC 9110 section 15.4): a 303 becomes a GET, a 301 or 302 of a POST too, all others keep method
 * and body. Credentials stay with the origin that they were sent to; an origin that the environment does not list gets a
 * bare GET or HEAD.
 */
import { asProblem, Problem } from '../../problem/problem.js';
import { isCredentialHeader } from '../../value/secret-fields.js';
import { withoutIdentity } from '../connection/connection.js';
import { hostAndPort } from '../hosts/listed-origins.js';
import { together } from '../request/attach.js';
import type { HeaderLine, WireRequest } from '../request/wire.js';
import type { OpenSpool } from '../response/overflow.js';
import { type Hop, Received } from '../response/received.js';
import type { Outcome } from './outcome.js';

/** What may go along to another address. */
export interface Carrying {
  /** Whether the environment lists its origin. */
  lists(url: URL): boolean;
  /** Whether a known secret is in the text, in any of its forms. */
  holdsSecret(text: string): boolean;
  /** The cookies of the jar that belong there. */
  cookies(url: URL): HeaderLine | undefined;
  /** Told of each response, for its cookies; a promise where it has to wait. */
  responded(url: URL, headers: Received['headers']): Promise<unknown> | undefined;
  /** Of a signed request: what it was before, and the same for another address. */
  readonly signed?: { readonly bare: WireRequest; sign(wire: WireRequest): WireRequest } | undefined;
  /** Where a body goes that is too long for memory. */
  readonly spool?: OpenSpool | undefined;
  /** Told of a response whose redirect is followed. */
  ledOn?(outcome: Outcome): void;
  /** Told of what is sent because of it; it leaves when that has settled. */
  leaving?(wire: WireRequest): Promise<void> | undefined;
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
    const next =
      location !== undefined && URL.canParse(location, current.url.href) ? new URL(location, current.url) : undefined;
    const unfollowed = whyUnfollowed(wire, current.method, received.status, location, next);
    if (unfollowed !== undefined || !next) return withHops(outcome, hops, unfollowed);
    // A fragment of the first address holds on (section 10.2.2).
    if (next.hash === '') next.hash = current.url.hash;
    const from = { status: received.status, url: current.url.href, method: current.method };
    const step = `${current.method} ${next.href}`;
    if (hops.length >= most || seen.has(step)) {
      hops.push(from);
      const trouble = new Problem('redirect-loop', {
        what: seen.has(step) ? 'the redirects go in a circle' : `more than ${most} redirects`,
        where: 'following redirects',
        cause: `the last led to ${location}`,
        remedy:
          'redirects: none shows the first response; a server that expects a cookie or a session often redirects in a circle',
      });
      return withHops({ received, trouble }, hops);
    }
    seen.add(step);
    const taking = carrying?.responded(current.url, received.headers);
    if (taking) await taking;
    const carried = nextRequest(current, wire.url, next, received.status, carrying);
    if (carried instanceof Problem) return withHops({ received, trouble: carried }, [...hops, from]);
    carrying?.ledOn?.(outcome);
    hops.push(carried.dropped.length > 0 ? { ...from, dropped: carried.dropped } : from);
    current = carried.wire;
    // What was signed for one address does not hold for another, and a signature is a credential.
    const signs = carrying?.signed && current.url.origin === wire.url.origin;
    try {
      const signed = signs ? (carrying.signed as NonNullable<Carrying['signed']>).sign(current) : current;
      const leaving = carrying?.leaving?.(signed);
      if (leaving) await leaving;
      outcome = await send(signed);
    } catch (error) {
      return withHops({ received, trouble: asProblem(error) }, hops);
    }
  }
}

/** Empty where the request asks for that. Where the file says nothing, safe calls are redirected, and others to the GET that a 303 asks for. */
function whyUnfollowed(
  { redirects }: WireRequest,
  method: string,
  status: number,
  location: string | undefined,
  next: URL | undefined,
): string | undefined {
  if (redirects === 0) return '';
  if (location === undefined) return 'the response has no Location';
  if (!next || !/^https?:$/.test(next.protocol)) return `${location} is not an http or https address`;
  if (redirects === undefined && !safe.has(method) && status !== 303)
    return `a ${method} is sent on to ${next.href} only with redirects: 5 (at most so many) in the request`;
  return undefined;
}

interface Carried {
  readonly wire: WireRequest;
  /** Header lines by name, `cookies`, `the body`. */
  readonly dropped: readonly string[];
}

function nextRequest(
  current: WireRequest,
  first: URL,
  url: URL,
  status: number,
  carrying: Carrying | undefined,
): Carried | Problem {
  const becomesGet = status === 303 ? !safe.has(current.method) : current.method === 'POST' && status < 303;
  const method = becomesGet ? 'GET' : current.method;
  const body = becomesGet ? undefined : current.body;
  const same = url.origin === current.url.origin;
  const listed = same || carrying?.lists(url) === true;
  const refused = listed
    ? !same && body?.secret && 'its body holds a secret'
    : safe.has(method)
      ? (current.addressSecret || current.body?.secret) && 'the request that led there holds a secret'
      : `only GET and HEAD are sent there, not ${method}`;
  if (refused) return redirectRefused(url, refused, listed);
  if (!listed && carrying?.holdsSecret(url.href))
    return redirectRefused(url, 'the address that it leads to contains a secret', false);
  const lines = same
    ? keptLines(current, becomesGet, () => true)
    : listed
      ? keptLines(current, becomesGet, ({ name, secret }) => !secret && !isCredentialHeader(name))
      : keptLines(current, true, ({ origin }) => origin === 'automatic');
  const own = same ? ownCookies(current) : undefined;
  const jar = cookiesFor(current.url, first, url, same, listed, carrying);
  const cookie = own && jar ? together(own, jar) : (own ?? jar);
  const dropped = same
    ? []
    : [
        ...current.headers
          .filter((line) => line.origin !== 'automatic' && !isCookie(line) && !lines.includes(line))
          .map(({ name }) => name),
        ...(current.headers.some(isCookie) ? ['cookies'] : []),
        ...(current.connection.tls?.identity ? ['the client certificate'] : []),
      ];
  const host = current.headers.find(({ name }) => name.toLowerCase() === 'host');
  return {
    dropped,
    wire: {
      ...current,
      url,
      shownUrl: url.href,
      method,
      body: listed ? body : undefined,
      connection: same ? current.connection : withoutIdentity(current.connection),
      headers: [...(host ? [{ ...host, value: url.host }] : []), ...lines, ...(cookie ? [cookie] : [])],
    },
  };
}

const isCookie = ({ name }: HeaderLine): boolean => name.toLowerCase() === 'cookie';

function keptLines(
  { headers }: WireRequest,
  withoutBody: boolean,
  keeps: (line: HeaderLine) => boolean,
): readonly HeaderLine[] {
  return headers.filter((line) => {
    const key = line.name.toLowerCase();
    if (key === 'cookie' || key === 'host' || (withoutBody && /^content-/.test(key))) return false;
    return keeps(line);
  });
}

/** What the request itself, or a session, says of cookies: `jar` is the part of the line that is not theirs. */
function ownCookies({ headers }: WireRequest): HeaderLine | undefined {
  const line = headers.find(isCookie);
  if (!line || line.origin === 'cookies') return undefined;
  return line.own === undefined ? line : { ...line, value: line.own };
}

/**
 * The jar knows hosts and no ports (RFC 6265 section 8.5): at another port of the same host it has cookies that were set by
 * somebody else. And what was encrypted does not go on in the open.
 */
function cookiesFor(
  from: URL,
  first: URL,
  url: URL,
  same: boolean,
  listed: boolean,
  carrying: Carrying | undefined,
): HeaderLine | undefined {
  if (!listed || (from.protocol === 'https:' && url.protocol === 'http:')) return undefined;
  if (!same && url.hostname === from.hostname && url.origin !== first.origin) return undefined;
  return carrying?.cookies(url);
}

function redirectRefused(url: URL, why: string, listed: boolean): Problem {
  return new Problem('host-not-listed', {
    what: `the redirect to ${hostAndPort(url)} was not followed: ${why}`,
    where: 'following redirects',
    cause: listed
      ? 'credentials stay with the origin that they were sent to'
      : `the environment does not list ${hostAndPort(url)}`,
    remedy: listed
      ? 'send the request to that address itself'
      : `if the host is the vendor's, add "${hostAndPort(url)}" to hosts: in the environment; redirects: none shows the response`,
    data: { host: url.host },
  });
}

function withHops(outcome: Outcome, hops: readonly Hop[], unfollowed?: string): Outcome {
  if ((hops.length === 0 && unfollowed === undefined) || !outcome.received) return outcome;
  return { ...outcome, received: new Received({ ...outcome.received.parts, hops, unfollowed }) };
}
