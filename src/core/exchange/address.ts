/** Addresses: `${…}` may only open one; its `{…}` parts are those of RFC 6570. */
import type { Loads } from '../expression/compile.js';
import { type Evaluation, omitted } from '../expression/evaluation.js';
import { percentEncode } from '../expression/filters/text.js';
import { compileTemplate } from '../expression/template.js';
import { nearestHint } from '../problem/nearest.js';
import { asProblem, type FilePosition, Problem } from '../problem/problem.js';
import { textOf } from '../value/text.js';
import type { Value } from '../value/written.js';
import { type AddressPart, addressPart } from './address-template.js';
import type { QueryPair } from './wire.js';

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
      what: 'an expression may only open the address',
      where,
      remedy: 'write {name} for a part of the path, and parameters under query:; both are encoded as they must be',
    });
  }
  const origin = opening === '' ? undefined : compileTemplate(opening, where, loads);
  const pieces = rest.split(/\{([^{}]*)\}/);
  const parts: string[] = [];
  const written = pieces.map((piece, index) => (index % 2 === 1 ? placedPart(piece, parts, where) : undefined));
  parts.push(...written.flatMap((one) => one?.names ?? []));
  return {
    parts,
    origin(evaluation) {
      if (!origin) return /^https?:\/\/[^/?#{]+/i.exec(rest)?.[0];
      const opened = origin.evaluate(evaluation);
      return opened === omitted ? undefined : textOf(opened);
    },
    evaluate(evaluation, part) {
      const opened = origin?.evaluate(evaluation);
      if (opened === omitted) throw new Problem('address-shape', { what: 'the address cannot be omitted', where });
      let address = opened === undefined ? '' : textOf(opened);
      for (let index = 0; index < pieces.length; index += 1) {
        const piece = pieces[index] as string;
        const own = written[index];
        if (own) {
          try {
            address += own.write(part);
          } catch (error) {
            throw asProblem(error).at(where);
          }
        } else address = index === 0 && origin && piece.startsWith('/') ? joined(address, piece) : address + piece;
      }
      return address;
    },
  };
}

/** An opening and a path with one slash between them. */
const joined = (opening: string, path: string): string =>
  opening.endsWith('/') || path.startsWith('//')
    ? `${opening.replace(/\/+$/, '')}/${path.replace(/^\/+/, '')}`
    : opening + path;

function placedPart(source: string, parts: readonly string[], where: FilePosition | undefined): AddressPart {
  try {
    return addressPart(
      source,
      (name) =>
        new Problem('unknown-name', {
          what: `the address needs a value for {${name}}`,
          where,
          remedy: `declare it under inputs: or give it under path:${parts.length > 1 ? `; ${nearestHint(name, parts)}` : ''}`,
          data: { name },
        }),
    );
  } catch (error) {
    throw asProblem(error).at(where);
  }
}

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
  const query = pairs.map((pair) => `${percentEncode(pair.name)}=${shown(pair)}`).join('&');
  const [before, fragment] = splitOnce(address, '#');
  const joint = !before.includes('?') ? '?' : /[?&]$/.test(before) ? '' : '&';
  return `${before}${joint}${query}${fragment}`;
}

function splitOnce(text: string, mark: string): [string, string] {
  const at = text.indexOf(mark);
  return at === -1 ? [text, ''] : [text.slice(0, at), text.slice(at)];
}
