/** What many servers refuse, or read otherwise than it was meant. */
import type { WireRequest } from '../exchange/wire.js';
import type { Workspace } from './workspace.js';

const noDoubts: readonly string[] = [];

/** Of a request with a body (RFC 9110, section 9.3.1). @param method in capitals */
export const bodyDoubt = (method: string): string | undefined =>
  method === 'GET' || method === 'HEAD' ? `a ${method} carries a body, which many servers ignore or refuse` : undefined;

export function doubtsOf(
  { url, method, body }: Pick<WireRequest, 'url' | 'method' | 'body'>,
  { environment }: Workspace,
): readonly string[] {
  const { href } = url;
  const { length } = href;
  const odd = body && bodyDoubt(method);
  if (odd === undefined && length <= environment.urlLimit && !href.includes('%25')) return noDoubts;
  const doubts: string[] = [];
  if (odd !== undefined) doubts.push(odd);
  if (length > environment.urlLimit) {
    doubts.push(
      `the address has ${length} characters, the environment ${environment.name} takes ${environment.urlLimit}${method === 'GET' ? '; where the vendor has a form of the call with a body, that has no such limit' : ''}`,
    );
  }
  if (/%25[0-9A-Fa-f]{2}/.test(url.pathname + url.search))
    doubts.push('the address holds a value that was percent-encoded before it came in: it is encoded twice now');
  return doubts;
}
