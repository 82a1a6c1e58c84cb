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
  const headers = linesFor(request, sessionLines, userAgent, url.host);
  return { method, url, shownUrl, headers, body, timeout: request.timeout, redirects: request.redirects };
}

/** The same lines for the same request, so that a run of thousands makes them once. */
const known = new WeakMap<readonly HeaderLine[], { readonly for: string; readonly lines: readonly HeaderLine[] }>();

function linesFor(
  request: ResolvedRequest,
  sessionLines: readonly HeaderLine[],
  userAgent: string,
  host: string,
): readonly HeaderLine[] {
  if (request.body || sessionLines.length > 0) return allLines(request, sessionLines, userAgent, host);
  const key = `${request.method} ${host} ${userAgent}`;
  const before = known.get(request.headers);
  if (before?.for === key) return before.lines;
  const lines = allLines(request, [], userAgent, host);
  known.set(request.headers, { for: key, lines });
  return lines;
}

function allLines(
  { headers: own, method, body }: ResolvedRequest,
  sessionLines: readonly HeaderLine[],
  userAgent: string,
  host: string,
): readonly HeaderLine[] {
  const headers: HeaderLine[] = [];
  const automatic = (name: string, value: string): void => {
    if (!has(own, name)) headers.push({ name, value, origin: 'automatic', secret: false });
  };
  // In the order in which they leave.
  automatic('host', host);
  automatic('connection', 'keep-alive');
  headers.push(...own);
  for (const line of sessionLines) if (!has(own, line.name)) headers.push(line);
  automatic('accept', '*/*');
  automatic('user-agent', userAgent);
  if (body) automatic('content-type', body.type);
  if (body) automatic('content-length', String(body.bytes.length));
  else if (method === 'POST' || method === 'PUT' || method === 'PATCH') automatic('content-length', '0');
  return headers;
}

function has(lines: readonly HeaderLine[], name: string): boolean {
  const wanted = name.toLowerCase();
  return lines.some((line) => line.name.toLowerCase() === wanted);
}
