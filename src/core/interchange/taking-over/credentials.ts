/** The credentials of foreign requests: they become sessions and secrets, whose values no file holds. */
import { isCredentialHeader } from '../../value/secret-fields.js';
import { filled, hasHole } from '../foreign/holes.js';
import type { ForeignRequest } from '../foreign/request.js';

/** Its texts as they were sent; they may have holes. */
export type Credential =
  | { readonly kind: 'basic'; readonly user: string; readonly password: string }
  | { readonly kind: 'bearer'; readonly token: string }
  /** @param scheme what stands before the key in the line, with its space */
  | { readonly kind: 'api-key'; readonly header: string; readonly scheme: string; readonly key: string };

/** A request without the header lines that a session makes. */
export function credentialsApart(request: ForeignRequest): {
  readonly request: ForeignRequest;
  readonly credentials: readonly Credential[];
} {
  const credentials: Credential[] = [];
  const headers = request.headers.filter(([name, value]) => {
    if (/^(?:set-)?cookie$/i.test(name) || !isCredentialHeader(name) || value === '') return true;
    credentials.push(credentialIn(name, value));
    return false;
  });
  const { user } = request;
  if (user && !credentials.some(({ kind }) => kind === 'basic'))
    credentials.push({ kind: 'basic', user: user.name, password: user.password });
  return { request: { ...request, headers, user: undefined }, credentials };
}

function credentialIn(name: string, value: string): Credential {
  const [, scheme = '', rest = value] = /^([A-Za-z][\w-]*\s+)(\S[\s\S]*)$/.exec(value) ?? [];
  if (!/^authorization$/i.test(name)) return { kind: 'api-key', header: name, scheme: '', key: value };
  if (/^bearer\s/i.test(scheme)) return { kind: 'bearer', token: rest };
  const decoded = /^basic\s/i.test(scheme) && !hasHole(rest) ? Buffer.from(rest, 'base64').toString('utf8') : '';
  const at = decoded.indexOf(':');
  if (at >= 0) return { kind: 'basic', user: decoded.slice(0, at), password: decoded.slice(at + 1) };
  return { kind: 'api-key', header: name, scheme, key: rest };
}

/** The user and the password of an address, as credentials of the request (RFC 9110, section 4.2.4). */
export function withoutUserInfo(request: ForeignRequest): ForeignRequest {
  const [, scheme = '', user, rest = ''] = /^(https?:\/\/)([^/?#@]*)@(.*)$/is.exec(request.url) ?? [];
  if (user === undefined) return request;
  const [name = '', ...password] = user.split(':');
  const decode = (text: string): string => filled(text, (hole) => `\uE000${hole}\uE001`, decodeURIComponent);
  return {
    ...request,
    url: `${scheme}${rest}`,
    user: request.user ?? { name: decode(name), password: decode(password.join(':')) },
  };
}

/** The same credential, whoever sends it. */
export const credentialKey = (credential: Credential): string => JSON.stringify(credential);
