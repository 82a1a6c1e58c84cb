/** The content of a request file that sends what a foreign request sends. */

import { plainText } from '../../collection/yaml-text.js';
import { withQuery } from '../../exchange/address/address.js';
import { percentEncode } from '../../expression/filters/text.js';
import { percentDecoded } from '../../value/percent-decoded.js';
import { isCredentialHeader, isSecretName } from '../../value/secret-fields.js';
import { filled, hasHole, holesIn } from '../foreign/holes.js';
import type { ForeignRequest } from '../foreign/request.js';
import { asMap, type BodySettings, bodyContent, writtenText } from './body-content.js';
import { isIdentifier, singular } from './names.js';
import { expressionOf, type Fill, type Slot } from './slots.js';

export interface ContentSettings extends Pick<BodySettings, 'exact' | 'fill' | 'fileAt'> {
  /** What is written for the scheme, host and port: `${origin}`, or the origin itself. */
  readonly origin: string;
  /** What the documentation calls the segments of the path, by their place. */
  readonly segmentNames?: ReadonlyMap<number, string> | undefined;
}

/** The address without its query, in pieces. */
export interface AddressParts {
  /** undefined where it is not said, or has a hole. */
  readonly origin: string | undefined;
  /** Behind the origin, as they stand, the first one empty. */
  readonly segments: readonly string[];
  readonly query: string;
}

export function addressParts(url: string): AddressParts {
  const [, origin, rest = '/'] = /^(https?:\/\/[^/?#]*)?([^#]*)/i.exec(url) ?? [];
  const at = rest.indexOf('?');
  const path = (at === -1 ? rest : rest.slice(0, at)) || '/';
  return {
    origin: origin !== undefined && !hasHole(origin) && URL.canParse(origin) ? new URL(origin).origin : undefined,
    segments: path.startsWith('/') ? path.split('/') : ['', ...path.split('/').slice(1)],
    query: at === -1 ? '' : rest.slice(at + 1),
  };
}

/** Where a value of the path may be given. @returns undefined of a segment that is a word of the vendor's */
export function pathSlot(
  segments: readonly string[],
  index: number,
  names: ReadonlyMap<number, string> | undefined,
): Slot | undefined {
  const segment = segments[index] as string;
  const named = names?.get(index);
  if (segment === '' || (named === undefined && !hasHole(segment) && !isIdentifier(percentDecoded(segment))))
    return undefined;
  const before = segments.slice(0, index).findLast((one) => one !== '' && !hasHole(one) && !isIdentifier(one));
  const name = named ?? (before === undefined ? 'id' : `${singular(before)}-id`);
  return { kind: 'path', key: `path ${index}`, name, secret: false };
}

export function queryPairs(query: string): (readonly [name: string, value: string])[] {
  return query
    .split('&')
    .filter((pair) => pair !== '')
    .map((pair) => {
      const [name = '', value = ''] = pair.includes('=')
        ? [pair.slice(0, pair.indexOf('=')), pair.slice(pair.indexOf('=') + 1)]
        : [pair];
      return [percentDecoded(name.replaceAll('+', ' ')), percentDecoded(value.replaceAll('+', ' '))] as const;
    });
}

const querySlot = (name: string, index: number): Slot => ({
  kind: 'query',
  key: `query ${name} ${index}`,
  name,
  secret: isSecretName(name) || /^(?:api_?key|key|sig|signature)$/i.test(name),
});

const braces = (text: string): string => text.replaceAll('{', '%7B').replaceAll('}', '%7D');

export function requestContent(request: ForeignRequest, settings: ContentSettings): Record<string, unknown> {
  const { method, url, headers, body } = request;
  const { fill, exact } = settings;
  const { segments, query } = addressParts(url);
  const path = segments.map((segment, index) => segmentWritten(segments, index, segment, settings)).join('/');
  const asQuery = queryWritten(query, exact, fill);
  const type = headers.find(([name]) => name.toLowerCase() === 'content-type')?.[1];
  const made = body && bodyContent(body, { ...settings, type });
  const lines = headers.filter(([name, value]) => {
    const one = name.toLowerCase();
    if (one === 'cookie') return false;
    return one !== 'content-type' || !made || made.type === undefined || !sameType(value, made.type);
  });
  const cookies = headers
    .filter(([name]) => name.toLowerCase() === 'cookie')
    .flatMap(([, value]) => cookiePairs(value));
  const { connect, total } = request.timeout ?? {};
  return {
    method,
    url: `${settings.origin}${path}${asQuery.inAddress}`,
    ...(asQuery.map && { query: asQuery.map }),
    ...(lines.length > 0 && { headers: linesWritten(lines, fill) }),
    ...(cookies.length > 0 && {
      cookies: Object.fromEntries(
        cookies.map(([name, value], index) => [
          plainText(name),
          writtenText(value, { kind: 'cookie', key: `cookie ${name} ${index}`, name, secret: true }, fill),
        ]),
      ),
    }),
    ...((connect ?? total) !== undefined && {
      timeout: {
        ...(connect !== undefined && { connect: `${connect}ms` }),
        ...(total !== undefined && { total: `${total}ms` }),
      },
    }),
    ...(request.redirects !== undefined && { redirects: request.redirects === 0 ? 'none' : request.redirects }),
    ...(made && { body: made.body }),
  };
}

/** A boundary is made again for each sending. */
const sameType = (given: string, made: string): boolean =>
  made === 'multipart/form-data' ? /^multipart\/form-data\b/i.test(given) : given.trim().toLowerCase() === made;

function segmentWritten(
  segments: readonly string[],
  index: number,
  segment: string,
  { fill, segmentNames }: ContentSettings,
): string {
  const at = pathSlot(segments, index, segmentNames);
  if (!at) return braces(segment);
  const inputOf = (name: string): string => {
    const filling = fill.hole(name, at);
    return 'input' in filling ? `{${filling.input}}` : expressionOf(filling);
  };
  if (hasHole(segment)) return filled(segment, inputOf, (one) => braces(one));
  const value = percentDecoded(segment);
  const filling = percentEncode(value) === segment ? fill(at, value) : undefined;
  if (!filling) return braces(segment);
  return 'input' in filling ? `{${filling.input}}` : expressionOf(filling);
}

function queryWritten(
  query: string,
  exact: boolean,
  fill: Fill,
): { readonly inAddress: string; readonly map?: Record<string, unknown> | undefined } {
  if (query === '') return { inAddress: '' };
  const pairs = queryPairs(query);
  const again = withQuery(
    'http://127.0.0.1/',
    pairs.map(([name, value]) => ({ name, value, secret: false })),
    ({ value }) => percentEncode(value),
  ).replace(/^[^?]*\?/, '');
  const map =
    exact && again !== query && holesIn(query).length === 0
      ? undefined
      : asMap(pairs, (name, value, index) => writtenText(value, querySlot(name, index), fill));
  if (map) return { inAddress: '', map };
  // Letter by letter, but for what is secret in it.
  const written = query
    .split('&')
    .map((pair) => {
      const [name = '', ...rest] = pair.split('=');
      const at = querySlot(percentDecoded(name), 0);
      const filling = at.secret ? fill(at, percentDecoded(rest.join('='))) : undefined;
      if (filling) return `${braces(name)}=${expressionOf(filling)}`;
      return filled(
        pair,
        (hole) => expressionOf(fill.hole(hole, at)),
        (one) => braces(one),
      );
    })
    .join('&');
  return { inAddress: `?${written}` };
}

const cookiePairs = (value: string): (readonly [name: string, value: string])[] =>
  value
    .split(/;\s*/)
    .filter((pair) => pair !== '')
    .map((pair) => [pair.split('=')[0] as string, pair.split('=').slice(1).join('=')] as const);

function linesWritten(lines: ForeignRequest['headers'], fill: Fill): Record<string, unknown> {
  const all = new Map<string, unknown[]>();
  for (const [name, value] of lines) {
    const values = all.get(name) ?? [];
    const slot: Slot = {
      kind: 'header',
      key: `header ${name} ${values.length}`,
      name,
      secret: isCredentialHeader(name),
    };
    all.set(name, [...values, headerWritten(value, slot, fill)]);
  }
  return Object.fromEntries([...all].map(([name, values]) => [name, values.length === 1 ? values[0] : values]));
}

/** The scheme of credentials stays (RFC 9110, section 11.4). */
function headerWritten(value: string, slot: Slot, fill: Fill): string {
  const [, scheme = '', rest = value] =
    (slot.secret ? /^([A-Za-z][\w-]*\s+)(\S[\s\S]*)$/.exec(value) : undefined) ?? [];
  return `${plainText(scheme)}${writtenText(rest, slot, fill)}`;
}
