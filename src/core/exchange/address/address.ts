/** Addresses: `${…}` may only open one; its `{…}` parts are those of RFC 6570. */
import type { Loads } from '../../expression/compile.js';
import { type Evaluation, omitted } from '../../expression/evaluation.js';
import { percentEncode } from '../../expression/filters/text.js';
import { compileTemplate } from '../../expression/template.js';
import { nearestHint } from '../../problem/nearest.js';
import { asProblem, type FilePosition, Problem } from '../../problem/problem.js';
import { textOf } from '../../value/text.js';
import type { Value } from '../../value/written.js';
import type { QueryPair } from '../request/wire.js';
import { type AddressPart, addressPieces } from './address-template.js';

export interface AddressPlan {
  /** The names in `{…}`, in order. */
  readonly parts: readonly string[];
  /** What it begins with, up to its path; undefined where nobody can say. */
  origin(evaluation: Evaluation): string | undefined;
  evaluate(evaluation: Evaluation, part: (name: string) => Value | undefined): string;
}

/** @throws Problem address-shape: an expression that does not open the address */
export function compileAddress(source: string, where: FilePosition | undefined, loads: Loads): AddressPlan {
  const opening = /^\$\{[^}]*\}/.exec(source)?.[0] ?? '';
  const rest = source.slice(opening.length);
  if (rest.includes('${')) {
    throw new Problem('address-shape', {
      what: 'an expression can be used only at the beginning of the address',
      where,
      remedy: 'write {name} for a part of the path, and parameters under query:; both are encoded as they must be',
    });
  }
  const origin = opening === '' ? undefined : compileTemplate(opening, where, loads);
  const names: string[] = [];
  const missing = (name: string): Problem =>
    new Problem('unknown-name', {
      what: `the address needs a value for {${name}}`,
      where,
      remedy: `declare it under inputs: or give it under path:${names.length > 1 ? `; ${nearestHint(name, names)}` : ''}`,
      data: { name },
    });
  let pieces: readonly (string | AddressPart)[];
  try {
    pieces = addressPieces(rest, missing);
  } catch (error) {
    throw asProblem(error).at(where);
  }
  for (const piece of pieces) if (typeof piece !== 'string') names.push(...piece.names);
  const ownDots = hasDotSegment(pieces.map((piece) => (typeof piece === 'string' ? piece : 'x')).join(''));
  return {
    parts: names,
    origin(evaluation) {
      if (!origin) return /^https?:\/\/[^/?#{]+/i.exec(rest)?.[0];
      const opened = origin.evaluate(evaluation);
      return opened === omitted ? undefined : textOf(opened);
    },
    evaluate(evaluation, part) {
      const opened = origin?.evaluate(evaluation);
      if (opened === omitted) throw new Problem('address-shape', { what: 'the address cannot be omitted', where });
      let address = opened === undefined ? '' : textOf(opened);
      const before = address.length;
      for (let index = 0; index < pieces.length; index += 1) {
        const piece = pieces[index] as string | AddressPart;
        if (typeof piece === 'string')
          address = index === 0 && origin && piece.startsWith('/') ? joined(address, piece) : address + piece;
        else {
          try {
            address += piece.write(part);
          } catch (error) {
            throw asProblem(error).at(where);
          }
        }
      }
      // As it is in the file it is meant; a value would lead to another call than the one in the file.
      if (!ownDots && pieces.length > 1 && hasDotSegment(address.slice(Math.max(0, before - 1))))
        throw dotSegment(where);
      return address;
    },
  };
}

/** A segment `.` or `..` vanishes from the path (RFC 3986 section 5.2.4), also where it is percent-encoded. */
const hasDotSegment = (address: string): boolean =>
  /(?:^|[/\\])(?:\.|%2e){1,2}(?:[/\\]|$)/i.test(address.split(/[?#]/, 1)[0] as string);

const dotSegment = (where: FilePosition | undefined): Problem =>
  new Problem('address-shape', {
    what: 'a value makes a segment . or .. in the path, which would lead to another address',
    where,
    cause: 'a URL drops such segments, percent-encoded or not (RFC 3986 section 5.2.4)',
    remedy: 'give another value; none that is only dots can be part of a path',
  });

/** An opening and a path with one slash between them. */
const joined = (opening: string, path: string): string =>
  opening.endsWith('/') || path.startsWith('//')
    ? `${opening.replace(/\/+$/, '')}/${path.replace(/^\/+/, '')}`
    : opening + path;

/** @throws Problem address-shape */
export function absoluteUrl(address: string): URL {
  let url: URL | undefined;
  try {
    url = new URL(address);
  } catch {
    url = undefined;
  }
  if (url && (url.protocol === 'http:' || url.protocol === 'https:')) return url;
  throw new Problem('address-shape', {
    what: `${JSON.stringify(address)} is not an absolute address`,
    cause: /^[\w.-]+:\d+|^[\w.-]+\.[a-z]+\//i.test(address)
      ? 'it begins with a host, without http:// or https://'
      : undefined,
    remedy: 'an address begins with http:// or https://; in a request file with ${origin}',
  });
}

/** Encoded parameters behind an address that may have some already. */
export function withQuery(address: string, pairs: readonly QueryPair[], shown: (pair: QueryPair) => string): string {
  if (pairs.length === 0) return address;
  const query = pairs
    .map((pair) => (pair.bare ? percentEncode(pair.name) : `${percentEncode(pair.name)}=${shown(pair)}`))
    .join('&');
  const [before, fragment] = splitOnce(address, '#');
  const joint = !before.includes('?') ? '?' : /[?&]$/.test(before) ? '' : '&';
  return `${before}${joint}${query}${fragment}`;
}

function splitOnce(text: string, mark: string): [string, string] {
  const at = text.indexOf(mark);
  return at === -1 ? [text, ''] : [text.slice(0, at), text.slice(at)];
}
