/** Whether a request brings the credentials that its operation needs: they are there, and well formed. */
import type { Definitions, Operation } from '../documentation/model/model.js';
import { credentialsIn } from '../exchange/request/credentials-in.js';
import { ownMember } from '../value/own-member.js';
import { isValueMap, type Value } from '../value/written.js';
import type { RehearsedRequest } from './messages.js';

/** Credentials in a request: by the names of headers, parameters and fields, and where the description says that they are. */
export function credentialsOf({ target, headers, body }: RehearsedRequest, schemes: readonly Value[]): string[] {
  const url = new URL(target, 'http://vendor.example');
  const lines = [...headers].map(([name, value]) => ({ name, value }));
  const found = credentialsIn({ url, headers: lines, body: { shown: Buffer.from(body).toString('utf8') } });
  for (const scheme of schemes) {
    if (!isValueMap(scheme) || scheme.type !== 'apiKey' || typeof scheme.name !== 'string') continue;
    const value = scheme.in === 'query' ? url.searchParams.get(scheme.name) : headers.get(scheme.name.toLowerCase());
    if (value) found.push(value);
  }
  return found;
}

/** What is missing, in a sentence; undefined where one way to authenticate is complete. */
export function credentialsFault(
  { security }: Operation,
  request: RehearsedRequest,
  query: URLSearchParams,
  definitions: Definitions,
): string | undefined {
  const faults = security.map(({ schemes }) =>
    schemes.flatMap(({ name, about, header }) => schemeFault(name, about, header, request, query, definitions) ?? []),
  );
  if (faults.length === 0 || faults.some((one) => one.length === 0)) return undefined;
  return faults.map((one) => one.join(' and ')).join(', or ');
}

function schemeFault(
  name: string,
  about: string,
  header: string | undefined,
  request: RehearsedRequest,
  query: URLSearchParams,
  definitions: Definitions,
): string | undefined {
  const scheme = definitions.get(`#/components/securitySchemes/${name}`);
  const text = (key: string): string => {
    const value = isValueMap(scheme) ? ownMember(scheme, key) : undefined;
    return typeof value === 'string' ? value : '';
  };
  switch (text('type')) {
    case 'apiKey':
      return keyFault(text('in'), text('name'), request, query);
    case 'http':
      return authorizationFault(text('scheme').toLowerCase(), request);
    case 'oauth2':
    case 'openIdConnect':
      return authorizationFault('bearer', request);
    // Neither a certificate nor what nobody describes can be seen here.
    case 'mutualTLS':
      return undefined;
    default:
      return header !== undefined && !request.headers.has(header.toLowerCase())
        ? `the header ${header} is missing (${about})`
        : undefined;
  }
}

function keyFault(place: string, name: string, request: RehearsedRequest, query: URLSearchParams): string | undefined {
  const given =
    place === 'query'
      ? query.get(name)
      : place === 'cookie'
        ? new RegExp(`(?:^|;\\s*)${name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}=([^;]*)`).exec(
            request.headers.get('cookie') ?? '',
          )?.[1]
        : request.headers.get(name.toLowerCase());
  return given === null || given === undefined || given === '' ? `the ${place} ${name} is missing` : undefined;
}

/** RFC 9110, section 11.4; RFC 6750, section 2.1; RFC 7617, section 2. */
function authorizationFault(scheme: string, { headers }: RehearsedRequest): string | undefined {
  const given = headers.get('authorization');
  if (given === undefined) return `the header Authorization is missing (${scheme})`;
  const [, word = '', rest = ''] = /^(\S+)\s*(.*)$/s.exec(given.trim()) ?? [];
  // Without a scheme in front of it, the first word is the credential itself.
  if (rest === '')
    return `the header Authorization has no ${scheme === '' ? 'scheme' : `scheme, documented is ${scheme}`}`;
  if (word.toLowerCase() !== scheme) return `the header Authorization is ${word}, documented is ${scheme}`;
  if (scheme === 'bearer' && !/^[\w.~+/-]+=*$/.test(rest)) return 'the header Authorization has no token';
  if (scheme === 'basic' && !Buffer.from(rest, 'base64').toString('utf8').includes(':'))
    return 'the header Authorization has no name and password in base64';
  return undefined;
}
