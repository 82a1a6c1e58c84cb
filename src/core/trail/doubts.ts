/** What many servers refuse, or read otherwise than it was meant; and what a response should not be. */
import type { Received } from '../exchange/received.js';
import type { WireRequest } from '../exchange/wire.js';
import { headerValue } from '../place/observed.js';
import { sizeText } from '../value/measures.js';
import { percentDecoded } from '../value/percent-decoded.js';
import type { Workspace } from './workspace.js';

const noDoubts: readonly string[] = [];

/** Of a request with a body (RFC 9110, section 9.3.1). @param method in capitals */
export const bodyDoubt = (method: string): string | undefined =>
  method === 'GET' || method === 'HEAD' ? `a ${method} carries a body, which many servers ignore or refuse` : undefined;

export function doubtsOf(
  { url, shownUrl, method, body }: Pick<WireRequest, 'url' | 'shownUrl' | 'method' | 'body'>,
  { environment }: Workspace,
): readonly string[] {
  const { href } = url;
  const { length } = href;
  const odd = body && bodyDoubt(method);
  if (odd === undefined && length <= environment.urlLimit && !/[%+]/.test(href)) return noDoubts;
  const doubts: string[] = [];
  if (odd !== undefined) doubts.push(odd);
  if (length > environment.urlLimit) {
    doubts.push(
      `the address has ${length} characters, the environment ${environment.name} takes ${environment.urlLimit}${method === 'GET' ? '; where the vendor has a form of the call with a body, that has no such limit' : ''}`,
    );
  }
  if (/%25[0-9A-Fa-f]{2}/.test(url.pathname + url.search))
    doubts.push('the address holds a value that was percent-encoded before it came in: it is encoded twice now');
  doubts.push(...pastedParts(shownUrl));
  return doubts;
}

export function responseDoubts(received: Received): readonly string[] {
  const announced = headerValue(received.headers, 'content-length');
  const doubts: string[] = [];
  if (received.status === 204 && announced !== undefined && Number(announced) > 0)
    doubts.push(
      `204 No Content announces a body of ${sizeText(Number(announced))}, which HTTP does not permit: it was not read`,
    );
  if (!received.decodable)
    doubts.push(
      'the body is not valid UTF-8: bytes that are not are shown as \ufffd; charset= in its type may be missing',
    );
  return doubts.length === 0 ? noDoubts : doubts;
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
          ? 'stands in quotes, which are part of it'
          : undefined;
    return fault === undefined ? [] : [`${JSON.stringify(value)} in ${where} ${fault}`];
  });
}
