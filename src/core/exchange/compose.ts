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
  const headers: HeaderLine[] = [];
  const automatic = (name: string, value: string): void => {
    if (!has(request.headers, name)) headers.push({ name, value, origin: 'automatic', secret: false });
  };
  // In the order in which they leave.
  automatic('host', url.host);
  automatic('connection', 'keep-alive');
  headers.push(...request.headers);
  for (const line of sessionLines) if (!has(request.headers, line.name)) headers.push(line);
  automatic('accept', '*/*');
  automatic('user-agent', userAgent);
  if (body) automatic('content-type', body.type);
  if (body) automatic('content-length', String(body.bytes.length));
  else if (method === 'POST' || method === 'PUT' || method === 'PATCH') automatic('content-length', '0');
  return { method, url, shownUrl, headers, body, timeout: request.timeout, redirects: request.redirects };
}

function has(lines: readonly HeaderLine[], name: string): boolean {
  const wanted = name.toLowerCase();
  return lines.some((line) => line.name.toLowerCase() === wanted);
}
