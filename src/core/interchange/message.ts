/** A request, or a recorded exchange, as HTTP messages (RFC 9112). */

import type { Echo } from '../echo/echo.js';
import { hidden, type WireRequest } from '../exchange/request/wire.js';
import { isCredentialHeader } from '../value/secret-fields.js';

type Lines = readonly (readonly [name: string, value: string])[];

/** Line ends are CRLF (section 2.1), those of the body stay as they are. */
function messageText(first: string, headers: Lines, body: string): string {
  return [first, ...headers.map(([name, value]) => `${name}: ${value}`), '', body].join('\r\n');
}

/** Host comes first, and the target is the path with the query (section 3.2.1). */
function requestText(method: string, url: string, headers: Lines, body: string): string {
  const [, host = '', target = '/'] = /^https?:\/\/([^/?#]*)([^#]*)/i.exec(url) ?? [];
  const has = headers.some(([name]) => name.toLowerCase() === 'host');
  const first = `${method} ${target.startsWith('/') ? target : `/${target}`} HTTP/1.1`;
  return messageText(first, has ? headers : [['Host', host], ...headers], body);
}

/** Of a line with credentials its scheme is seen (RFC 9110, section 11.4). */
const hiddenCredentials = (value: string): string => `${/^[A-Za-z][\w-]* +(?=\S)/.exec(value)?.[0] ?? ''}${hidden}`;

/**
 * A request as it would leave, its secrets hidden.
 * @param hide known secrets in a text @param reveal shows them, on purpose
 */
export function requestMessage(wire: WireRequest, hide: (text: string) => string, reveal: boolean): string {
  const { method, url, shownUrl, headers, body } = wire;
  const lines = headers.map(({ name, value, secret }): [string, string] => [
    name,
    reveal ? value : secret || isCredentialHeader(name) ? hiddenCredentials(value) : hide(value),
  ]);
  const shown = body === undefined ? '' : reveal ? Buffer.from(body.bytes).toString('utf8') : hide(body.shown);
  // The length is that of what is not shown.
  const own = reveal || shown === Buffer.from(body?.bytes ?? []).toString('utf8');
  return requestText(
    method,
    reveal ? url.href : hide(shownUrl),
    own ? lines : lines.filter(([name]) => name.toLowerCase() !== 'content-length'),
    shown,
  );
}

/** What was sent and, behind it, what came back. */
export function exchangeMessages({ sent, received }: Echo, bodies: { sent: string; received: string }): string {
  const own = (lines: Lines): Lines => lines.filter(([name]) => !/^(?:content-length|transfer-encoding)$/i.test(name));
  const request = requestText(sent.method, sent.url, own(sent.headers), bodies.sent);
  if (!received) return request;
  const first = `HTTP/1.1 ${received.status} ${received.reason}`;
  return `${request}\r\n\r\n${messageText(first, own(received.headers), bodies.received)}`;
}
