/** From a resolved request to the request as it leaves: session lines and automatic lines added. */
import { percentEncode } from '../expression/filters/text.js';
import { absoluteUrl, withQuery } from './address.js';
import { type HeaderLine, hidden, type ResolvedRequest, type WireRequest } from './wire.js';

/** @param sessionLines what the sessions add; an explicit header of the same name wins */
export function composeRequest(
  request: ResolvedRequest,
  sessionLines: readonly HeaderLine[],
  userAgent: string,
): WireRequest {
  const { method, address, query, body } = request;
  const url = absoluteUrl(withQuery(address, query, (pair) => percentEncode(pair.value)));
  const shownUrl = query.some(({ secret }) => secret)
    ? withQuery(address, query, (pair) => (pair.secret ? hidden : percentEncode(pair.value)))
    : url.href;
  const explicit = new Set(request.headers.map(({ name }) => name.toLowerCase()));
  const automatic = (name: string, value: string): HeaderLine[] =>
    explicit.has(name) ? [] : [{ name, value, origin: 'automatic', secret: false }];
  const length = body?.bytes.length ?? (method === 'POST' || method === 'PUT' || method === 'PATCH' ? 0 : undefined);
  return {
    method,
    url,
    shownUrl,
    // In the order in which they leave.
    headers: [
      ...automatic('host', url.host),
      ...automatic('connection', 'keep-alive'),
      ...request.headers,
      ...sessionLines.filter(({ name }) => !explicit.has(name.toLowerCase())),
      ...automatic('accept', '*/*'),
      ...automatic('user-agent', userAgent),
      ...(body ? automatic('content-type', body.type) : []),
      ...(length === undefined ? [] : automatic('content-length', String(length))),
    ],
    body,
    timeout: request.timeout,
    redirects: request.redirects,
  };
}
