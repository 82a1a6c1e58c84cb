/** A pasted address as a request file: its origin, its path, and its parameters decoded (WHATWG URL Standard, section 5.1). */
import { stringify } from 'yaml';
import { plainText } from '../collection/yaml-text.js';
import { absoluteUrl, withQuery } from '../exchange/address/address.js';
import { percentEncode } from '../expression/filters/text.js';
import { Problem } from '../problem/problem.js';
import { asMap } from './taking-over/body-content.js';
import { queryPairs } from './taking-over/content.js';

export interface ImportedAddress {
  /** The text of the request file, from its second line. */
  readonly text: string;
  readonly path: string;
  readonly query: readonly (readonly [name: string, value: string])[];
  /** The address that the file makes. */
  readonly joined: string;
  /** Where it is not, letter by letter, the one that was given. */
  readonly differs: boolean;
}

/**
 * @param origin the environment's; an address there is written behind `${origin}`
 * @throws Problem address-shape
 */
export function importAddress(given: string, origin: string | undefined): ImportedAddress {
  const url = absoluteUrl(given.trim());
  if (url.username !== '' || url.password !== '') {
    throw new Problem('address-shape', {
      what: 'the address holds a user and a password',
      remedy: 'leave them out, and use a session of the kind basic',
    });
  }
  const own = origin !== undefined && URL.canParse(origin) && new URL(origin).origin === url.origin;
  // Braces would be parts of the path, and a dollar with one an expression.
  const path = url.pathname.replaceAll('{', '%7B').replaceAll('}', '%7D');
  const query = queryPairs(url.search.slice(1));
  // Where a map cannot hold their order, the parameters stay in the address: some vendors sign it.
  const map = asMap(query, (_, value) => plainText(value));
  const interleaved = map === undefined;
  const bare = `${own ? '${origin}' : url.origin}${path}`;
  const content = {
    about: `Imported from an address of ${url.host}`,
    url: interleaved ? `${bare}${url.search.replaceAll('{', '%7B').replaceAll('}', '%7D')}` : bare,
    ...(map && query.length > 0 && { query: map }),
  };
  const joined = interleaved
    ? url.origin + path + url.search
    : withQuery(
        url.origin + path,
        query.map(([name, value]) => ({ name, value, secret: false })),
        ({ value }) => percentEncode(value),
      );
  return {
    text: stringify(content, { lineWidth: 0 }),
    path: url.pathname,
    query,
    joined,
    differs: joined !== given.trim().replace(/#.*$/, ''),
  };
}
