/** From a resolved request to the request as it leaves, automatic lines added. */
import { percentEncode } from '../../expression/filters/text.js';
import { percentDecoded } from '../../value/percent-decoded.js';
import { absoluteUrl, withQuery } from '../address/address.js';
import {
  bodySize,
  credentialsOrigin,
  type HeaderLine,
  hidden,
  type QueryPair,
  type ResolvedRequest,
  type WireRequest,
} from './wire.js';

/** @throws Problem address-shape */
export function composeRequest(request: ResolvedRequest, userAgent: string): WireRequest {
  const { method, address, query, body } = request;
  const url = absoluteUrl(withQuery(address, query, encodedValue));
  const typed = credentialsOf(url);
  const { shownAddress } = request;
  const shownUrl =
    shownAddress !== undefined || query.some(({ secret }) => secret)
      ? withQuery(shownAddress ?? address, query, shownValue).replace(/^(https?:\/\/)[^/?#@]*@/i, '$1')
      : url.href;
  const own = typed && !has(request.headers, 'authorization') ? [...request.headers, typed] : request.headers;
  const headers = linesFor({ ...request, headers: own }, userAgent, url);
  return {
    method,
    url,
    shownUrl,
    headers,
    body,
    timeout: request.timeout,
    redirects: request.redirects,
    connection: request.connection,
    addressSecret: request.addressSecret,
  };
}

export const encodedValue = ({ value, joined }: QueryPair): string =>
  joined ? joined.map(percentEncode).join(',') : percentEncode(value);

/** Encoded as it leaves, but for what hides its secrets. */
export const shownValue = (pair: QueryPair): string =>
  pair.secret ? (pair.shown ?? hidden).split(hidden).map(percentEncode).join(hidden) : encodedValue(pair);

/**
 * A user and a password in the address become credentials (RFC 7617), and go nowhere else: RFC 9110, section 4.2.4.
 * @param url loses them
 */
function credentialsOf(url: URL): HeaderLine | undefined {
  const { username, password } = url;
  if (username === '' && password === '') return undefined;
  const text = `${percentDecoded(username)}:${percentDecoded(password)}`;
  url.username = '';
  url.password = '';
  const value = `Basic ${Buffer.from(text).toString('base64')}`;
  return { name: 'Authorization', value, origin: credentialsOrigin, secret: true };
}

/** The same lines for the same request, so that a run of thousands makes them once. */
const known = new WeakMap<readonly HeaderLine[], { readonly for: string; readonly lines: readonly HeaderLine[] }>();

function linesFor(request: ResolvedRequest, userAgent: string, url: URL): readonly HeaderLine[] {
  const { host } = url;
  if (request.body) return allLines(request, userAgent, url);
  const key = `${request.method} ${host} ${userAgent}${isClearHttp2(request, url) ? ' 2' : ''}`;
  const before = known.get(request.headers);
  if (before?.for === key) return before.lines;
  const lines = allLines(request, userAgent, url);
  known.set(request.headers, { for: key, lines });
  return lines;
}

function allLines(request: ResolvedRequest, userAgent: string, url: URL): readonly HeaderLine[] {
  const { headers: own, method, body } = request;
  const headers: HeaderLine[] = [];
  const automatic = (name: string, value: string): void => {
    if (!has(own, name)) headers.push({ name, value, origin: 'automatic', secret: false });
  };
  // In the order in which they leave.
  automatic('host', url.host);
  // HTTP/2 has no such line (RFC 9113 section 8.2.2).
  if (!isClearHttp2(request, url)) automatic('connection', 'keep-alive');
  headers.push(...own);
  automatic('accept', '*/*');
  automatic('user-agent', userAgent);
  for (const { name, value } of body?.headers ?? []) automatic(name, value);
  if (body) automatic('content-type', body.type);
  const size = body && bodySize(body);
  if (body && size === undefined) automatic('transfer-encoding', 'chunked');
  else if (body) automatic('content-length', String(size));
  else if (method === 'POST' || method === 'PUT' || method === 'PATCH') automatic('content-length', '0');
  return headers;
}

const isClearHttp2 = ({ connection }: ResolvedRequest, { protocol }: URL): boolean =>
  connection.http2 && protocol === 'http:';

function has(lines: readonly HeaderLine[], name: string): boolean {
  const wanted = name.toLowerCase();
  return lines.some((line) => line.name.toLowerCase() === wanted);
}
