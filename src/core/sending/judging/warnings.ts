/** What many servers refuse, or read otherwise than it was meant; and what a response should not be. */

import { credentialsOrigin, type WireBody, type WireRequest } from '../../exchange/request/wire.js';
import type { Received } from '../../exchange/response/received.js';
import { headerValue } from '../../place/observed.js';
import { sizeText } from '../../value/measures.js';
import { percentDecoded } from '../../value/percent-decoded.js';
import type { Evaluator } from '../workspace.js';

const noWarnings: readonly string[] = [];

/** Of a request with a body (RFC 9110, section 9.3.1). @param method in capitals */
export const bodyWarning = (method: string): string | undefined =>
  method === 'GET' || method === 'HEAD' ? `a ${method} carries a body, which many servers ignore or refuse` : undefined;

/** A header of the request's own wins over the type that follows from the kind of body, and may contradict it. */
function typeDoubt({ type }: WireBody, headers: WireRequest['headers']): string | undefined {
  const line = headers.find(({ name }) => name.toLowerCase() === 'content-type');
  if (!line || line.origin === 'automatic' || line.value === type) return undefined;
  const [own, made] = [familyOf(line.value), familyOf(type)];
  const remedy = `leave the header out: the body has the type ${type.split(';')[0]}`;
  if (made === 'multipart' && own === 'multipart' && !/;\s*boundary=/i.test(line.value))
    return `the header Content-Type of ${line.origin} has no boundary parameter, without which the parts cannot be read; ${remedy}`;
  if (made === undefined || own === made) return undefined;
  return `the header Content-Type of ${line.origin} says ${line.value}, and the body is ${made}; ${remedy}`;
}

/** What a body can be told by; undefined where any type is right. */
const families: readonly (readonly [RegExp, string])[] = [
  [/^[^;]*[/+]json\b/i, 'JSON'],
  [/^[^;]*[/+]xml\b/i, 'XML'],
  [/^application\/x-www-form-urlencoded/i, 'a form'],
  [/^multipart\//i, 'multipart'],
];
const familyOf = (type: string): string | undefined => families.find(([pattern]) => pattern.test(type.trim()))?.[1];

export function warningsOf(
  { url, shownUrl, method, body, headers }: Pick<WireRequest, 'url' | 'shownUrl' | 'method' | 'body' | 'headers'>,
  { environment }: Evaluator,
): readonly string[] {
  const { href } = url;
  const { length } = href;
  const odd = body && (bodyWarning(method) ?? typeDoubt(body, headers));
  const typed = headers.some(({ origin }) => origin === credentialsOrigin);
  if (odd === undefined && !typed && length <= environment.urlLimit && !/[%+]/.test(href)) return noWarnings;
  const warnings: string[] = [];
  if (odd !== undefined) warnings.push(odd);
  if (typed) warnings.push('the user and the password of the address are sent as Authorization: Basic');
  if (length > environment.urlLimit) {
    warnings.push(
      `the address has ${length} characters, the environment ${environment.name} takes ${environment.urlLimit}${method === 'GET' ? '; where the vendor has a form of the call with a body, that has no such limit' : ''}`,
    );
  }
  if (/%25[0-9A-Fa-f]{2}/.test(url.pathname + url.search))
    warnings.push('the address holds a value that was percent-encoded before it came in: it is encoded twice now');
  warnings.push(...pastedParts(shownUrl));
  return warnings;
}

export function responseWarnings(received: Received): readonly string[] {
  const announced = headerValue(received.headers, 'content-length');
  const warnings: string[] = [];
  if (received.status === 204 && announced !== undefined && Number(announced) > 0)
    warnings.push(
      `204 No Content announces a body of ${sizeText(Number(announced))}, which HTTP does not permit: it was not read`,
    );
  if (!received.decodable)
    warnings.push(
      'the body is not valid UTF-8: bytes that are not are shown as \ufffd; charset= in its type may be missing',
    );
  return warnings.length === 0 ? noWarnings : warnings;
}

/** Values of an address that were pasted with more than themselves. */
function pastedParts(address: string): string[] {
  if (!URL.canParse(address)) return [];
  const { pathname, searchParams } = new URL(address);
  const parts = [
    ...pathname.split('/').map((segment) => ['the path', percentDecoded(segment)] as const),
    ...[...searchParams].map(([name, value]) => [`the query parameter ${name}`, value] as const),
  ];
  return parts.flatMap(([where, value]) => {
    const fault =
      value !== value.trim()
        ? 'begins or ends with white space'
        : /^".+"$/s.test(value)
          ? 'is in quotes, which are part of it'
          : undefined;
    return fault === undefined ? [] : [`${JSON.stringify(value)} in ${where} ${fault}`];
  });
}
