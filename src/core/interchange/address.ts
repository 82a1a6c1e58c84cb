/** A pasted address as a request file: its origin, its path, and its parameters decoded (WHATWG URL Standard, section 5.1). */
import { stringify } from 'yaml';
import { absoluteUrl, withQuery } from '../exchange/address/address.js';
import { percentEncode } from '../expression/filters/text.js';
import { Problem } from '../problem/problem.js';
import { ownMember } from '../value/own-member.js';
import { percentDecoded } from '../value/percent-decoded.js';

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
  const query = pairsIn(url.search);
  const names = new Set(query.map(([name]) => name));
  // A map cannot hold a, b, a: then the order of the parameters would change, and some vendors sign it.
  const interleaved = [...names].some((name) => {
    const places = query.flatMap(([one], index) => (one === name ? [index] : []));
    return (places.at(-1) as number) - (places[0] as number) + 1 !== places.length;
  });
  const bare = `${own ? '${origin}' : url.origin}${path}`;
  const content = {
    about: `Imported from an address of ${url.host}`,
    url: interleaved ? `${bare}${url.search.replaceAll('{', '%7B').replaceAll('}', '%7D')}` : bare,
    ...(!interleaved && query.length > 0 && { query: asMap(query) }),
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

/** Decoded once; what cannot be decoded stays as it is. */
function pairsIn(search: string): [string, string][] {
  return search
    .replace(/^\?/, '')
    .split('&')
    .filter((pair) => pair !== '')
    .map((pair) => {
      const at = pair.indexOf('=');
      const [name, value] = at === -1 ? [pair, ''] : [pair.slice(0, at), pair.slice(at + 1)];
      return [percentDecoded(name.replaceAll('+', ' ')), percentDecoded(value.replaceAll('+', ' '))];
    });
}

function asMap(query: readonly (readonly [string, string])[]): Record<string, string | string[]> {
  const map: Record<string, string | string[]> = {};
  for (const [name, value] of query) {
    const literal = value.replaceAll('${', () => '$${');
    const before = ownMember(map, name);
    map[name] = before === undefined ? literal : [before, literal].flat();
  }
  return map;
}
