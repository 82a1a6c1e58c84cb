/**
 * The `{…}` parts of an address, by RFC 6570 up to level 4: `{imo}`, `{imo:3}`, `{+path}`, `{/quay,berth}`, `{?free,length}`,
 * `{?tags*}`. Beyond it a name may hold a dash, as many parameters of descriptions do.
 */

import { percentEncode } from '../../expression/filters/text.js';
import { Problem } from '../../problem/problem.js';
import { ownMember } from '../../value/own-member.js';
import { textOf } from '../../value/text.js';
import { isValueMap, plain, type Value } from '../../value/written.js';

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
 * A template as text and parts in turn.
 * @param missing as of `addressPart` @throws Problem address-shape: a part that is none, or a brace that is not closed
 */
export function addressPieces(
  template: string,
  missing?: (name: string) => Problem,
): readonly (string | AddressPart)[] {
  return template.split(/\{([^{}]*)\}/).map((piece, index) => {
    if (index % 2 === 1) return addressPart(piece, missing);
    if (!/[{}]/.test(piece)) return piece;
    throw new Problem('address-shape', {
      what: `a brace of the address is not closed: ${piece}`,
      remedy: 'a part is written {name}; a brace as a character is %7B or %7D',
    });
  });
}

interface Variable {
  readonly name: string;
  readonly exploded: boolean;
  /** Characters of the value that are written. */
  readonly most: number | undefined;
}

/** varspec of section 2.3; names of section 2.3 and with dashes. */
const variable = /^((?:[\w-]|%[0-9A-Fa-f]{2})+(?:\.(?:[\w-]|%[0-9A-Fa-f]{2})+)*)(?:(\*)|:([1-9]\d{0,3}))?$/;

function variablesOf(source: string, list: string): readonly Variable[] {
  return list.split(',').map((one) => {
    const [, name, star, most] = variable.exec(one) ?? [];
    if (name !== undefined)
      return { name, exploded: star !== undefined, most: most === undefined ? undefined : Number(most) };
    throw new Problem('address-shape', {
      what: `{${source}} is not a part of an address`,
      remedy: 'such as {imo}, {imo:3}, {+path}, {/quay,berth} or {?free,length} (RFC 6570)',
    });
  });
}

/**
 * @param source what stands between the braces
 * @param missing what to throw where a name that has to stand there has no value; by the RFC it is left out
 * @throws Problem address-shape
 */
function addressPart(source: string, missing?: (name: string) => Problem): AddressPart {
  const operator = ownMember(operators, source[0] ?? '');
  const variables = variablesOf(source, operator ? source.slice(1) : source);
  const [only] = variables;
  // What nearly every address has, and a run of thousands writes each time.
  if (missing && !operator && variables.length === 1 && only && !only.exploded && only.most === undefined)
    return pathPart(only.name, missing);
  const { first, between } = operator ?? plainOperator;
  const required = operator ? undefined : missing;
  return {
    names: variables.map(({ name }) => name),
    write(value) {
      const written = variables.flatMap((one) => {
        const texts = expanded(one, value(one.name), operator ?? plainOperator);
        if (required && texts.length === 0) throw required(one.name);
        if (required && texts.every((text) => text === '')) throw emptyPart(one.name);
        return texts;
      });
      return written.length === 0 ? '' : first + written.join(between);
    },
  };
}

/** Section 3.2.1. @throws Problem address-shape: a prefix of a list or a map */
function expanded({ name, exploded, most }: Variable, given: Value | undefined, operator: Operator): string[] {
  const { named, ifEmpty, reserved } = operator;
  const encode = reserved ? encodeReserved : percentEncode;
  const labelled = (label: string, text: string): string => `${label}${text === '' ? ifEmpty : `=${text}`}`;
  if (given === undefined || plain(given) === null) return [];
  if (!Array.isArray(given) && !isValueMap(given)) {
    const text = textOf(given);
    const encoded = encode(most === undefined ? text : [...text].slice(0, most).join(''));
    return [named ? labelled(name, encoded) : encoded];
  }
  if (most !== undefined)
    throw new Problem('address-shape', {
      what: `{${name}:${most}} takes the beginning of a text, and ${name} is a ${Array.isArray(given) ? 'list' : 'map'}`,
      data: { name },
    });
  const entries = Object.entries(given).filter(([, item]) => item !== undefined && plain(item) !== null);
  const pairs = entries.map(([key, item]) => [encode(key), encode(textOf(item as Value))] as const);
  if (pairs.length === 0) return [];
  const list = Array.isArray(given);
  if (exploded) {
    if (!list) return pairs.map(([key, text]) => (named ? labelled(key, text) : `${key}=${text}`));
    return pairs.map(([, text]) => (named ? labelled(name, text) : text));
  }
  const joined = pairs.flatMap(([key, text]) => (list ? [text] : [key, text])).join(',');
  return [named ? labelled(name, joined) : joined];
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
    return addressPart(source).names;
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
