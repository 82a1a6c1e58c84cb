/**
 * The `{…}` parts of an address, by RFC 6570 (levels 1 to 3, and lists as level 4 writes them): `{imo}`, `{+path}`,
 * `{/quay,berth}`, `{?free,length}`.
 */

import { percentEncode } from '../expression/filters/text.js';
import { Problem } from '../problem/problem.js';
import { ownMember } from '../value/own-member.js';
import { textOf } from '../value/text.js';
import { plain, type Value } from '../value/written.js';

interface Operator {
  readonly first: string;
  readonly between: string;
  /** Written as `name=value`. */
  readonly named: boolean;
  /** Behind the name of an empty value. */
  readonly ifEmpty: string;
  readonly reserved: boolean;
}

const plainOperator: Operator = { first: '', between: ',', named: false, ifEmpty: '', reserved: false };
/** RFC 6570, appendix A. */
const operators: Readonly<Record<string, Operator>> = {
  '+': { ...plainOperator, reserved: true },
  '#': { ...plainOperator, first: '#', reserved: true },
  '.': { ...plainOperator, first: '.', between: '.' },
  '/': { ...plainOperator, first: '/', between: '/' },
  ';': { ...plainOperator, first: ';', between: ';', named: true },
  '?': { ...plainOperator, first: '?', between: '&', named: true, ifEmpty: '=' },
  '&': { ...plainOperator, first: '&', between: '&', named: true, ifEmpty: '=' },
};

export interface AddressPart {
  readonly names: readonly string[];
  /** @param value of a name; undefined where there is none @throws Problem unknown-name, address-shape */
  write(value: (name: string) => Value | undefined): string;
}

/**
 * @param source what stands between the braces
 * @param missing what to throw where a name that has to stand there has no value
 * @throws Problem address-shape
 */
export function addressPart(source: string, missing: (name: string) => Problem): AddressPart {
  const operator = ownMember(operators, source[0] ?? '');
  const list = operator ? source.slice(1) : source;
  const variables = list.split(',').map((one) => {
    const [, name, exploded] = /^([^*:,\s{}]+)(\*)?$/.exec(one.trim()) ?? [];
    if (name !== undefined) return { name, exploded: exploded !== undefined };
    throw new Problem('address-shape', {
      what: `{${source}} is not a part of an address`,
      remedy: 'such as {imo}, {+path}, {/quay,berth} or {?free,length} (RFC 6570)',
    });
  });
  const { first, between, named, ifEmpty, reserved } = operator ?? plainOperator;
  const encode = reserved ? encodeReserved : percentEncode;
  const [only] = variables;
  // What nearly every address has, and a run of thousands writes each time.
  if (!operator && variables.length === 1 && only) return pathPart(only.name, missing);
  return {
    names: variables.map(({ name }) => name),
    write(value) {
      const written = variables.flatMap(({ name, exploded }) => {
        const given = value(name);
        if (given === undefined) {
          // An operator leaves out what is not there; a bare part of the path has to be there.
          if (operator) return [];
          throw missing(name);
        }
        const items = textsOf(given, name);
        if (!operator && items.every((item) => item === '')) throw emptyPart(name);
        if (items.length === 0) return [];
        const encoded = items.map(encode);
        return (exploded ? encoded : [encoded.join(',')]).map((text) =>
          named ? `${name}${text === '' ? ifEmpty : `=${text}`}` : text,
        );
      });
      return written.length === 0 ? '' : first + written.join(between);
    },
  };
}

/** One name that has to stand there. */
function pathPart(name: string, missing: (name: string) => Problem): AddressPart {
  return {
    names: [name],
    write(value) {
      const given = value(name);
      if (given === undefined) throw missing(name);
      if (!Array.isArray(given)) {
        const text = textAt(given, name);
        if (text === '') throw emptyPart(name);
        return percentEncode(text);
      }
      const texts = textsOf(given, name);
      if (texts.every((text) => text === '')) throw emptyPart(name);
      return texts.map(percentEncode).join(',');
    },
  };
}

/** What stands between the braces of an address, behind the expression that may open it. */
export const addressParts = (url: string): string[] =>
  [...url.replace(/^\$\{[^}]*\}/, '').matchAll(/\{([^{}]*)\}/g)].map(([, part]) => part ?? '');

/** The names in a part, for checks without values; none where it is no part. */
export function addressNames(source: string): readonly string[] {
  try {
    return addressPart(source, emptyPart).names;
  } catch {
    return [];
  }
}

function textsOf(value: Value, name: string): string[] {
  const items = Array.isArray(value) ? (value as readonly Value[]) : [value];
  return items.map((item) => textAt(item, name));
}

function textAt(value: Value, name: string): string {
  if (plain(value) !== null) return textOf(value);
  throw new Problem('address-shape', { what: `the value for {${name}} in the address is null`, data: { name } });
}

const emptyPart = (name: string): Problem =>
  new Problem('address-shape', { what: `the value for {${name}} in the address is empty`, data: { name } });

/** Reserved characters and what is encoded already stay (RFC 6570 section 3.2.3). */
const encodeReserved = (text: string): string =>
  text.replace(/%[0-9A-Fa-f]{2}|[^A-Za-z0-9._~:/?#[\]@!$&'()*+,;=-]+/g, (part) =>
    /^%[0-9A-Fa-f]{2}$/.test(part) ? part : encodeURIComponent(part),
  );
