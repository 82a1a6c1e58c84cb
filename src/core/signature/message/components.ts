/** Components of a message that a signature covers, and their canonical values (RFC 9421, sections 2.1 and 2.2). */
import {
  type BareItem,
  type Dictionary,
  type Item,
  parseDictionary,
  parseItem,
  parseList,
  serializeDictionary,
  serializeInnerList,
  serializeItem,
  serializeList,
} from 'structured-headers';
import type { ComponentSpec } from '../../collection/files/signature-file.js';
import { nearest, nearestHint } from '../../problem/nearest.js';
import { type FilePosition, Problem } from '../../problem/problem.js';

/** One component: a header in small letters, or a derived one. */
export interface Component {
  readonly name: string;
  readonly sf: boolean;
  readonly key: string | undefined;
  readonly bs: boolean;
  readonly tr: boolean;
  readonly req: boolean;
  /** Of `@query-param`, as it is encoded. */
  readonly param: string | undefined;
  /** The parameters in the order in which they are written: it is part of what is signed (RFC 9421, section 2). */
  readonly order: readonly Parameter[];
}

type Parameter = 'sf' | 'key' | 'bs' | 'param' | 'tr' | 'req';

type Lines = readonly (readonly [name: string, value: string])[];

/** What components are taken from. */
export interface Message {
  readonly method?: string;
  readonly url?: URL;
  readonly status?: number;
  readonly headers: Lines;
  readonly trailers: Lines;
  /** Of a response: what was asked. */
  readonly request?: Message;
}

const derived = new Set([
  '@method',
  '@target-uri',
  '@authority',
  '@scheme',
  '@request-target',
  '@path',
  '@query',
  '@query-param',
  '@status',
]);

/**
 * @param keys of the component in the order in which they are written, where that is not the order of `spec`
 * @throws Problem file-shape: no such component, or parameters that exclude each other
 */
export function componentFrom(spec: ComponentSpec, where?: FilePosition, keys?: readonly string[]): Component {
  const given = typeof spec === 'string' ? { name: spec } : spec;
  const component: Component = {
    name: given.name.toLowerCase(),
    sf: given.sf ?? false,
    key: given.key,
    bs: given.bs ?? false,
    tr: given.tr ?? false,
    req: given.req ?? false,
    param: given.param,
    order: ((keys?.length ? keys : Object.keys(given)) as (Parameter | 'name')[]).filter((key) => key !== 'name'),
  };
  const { name, sf, key, bs, param } = component;
  const wrong = (what: string): Problem => new Problem('file-shape', { what, where });
  if (name.startsWith('@') && !derived.has(name))
    throw wrong(`there is no component ${name}; derived ones are ${[...derived].join(', ')}`);
  if ((name === '@query-param') !== (param !== undefined))
    throw wrong(
      name === '@query-param'
        ? '@query-param needs param:, the name of the parameter'
        : 'only @query-param has a param',
    );
  if (name.startsWith('@') && (sf || bs || key !== undefined)) throw wrong(`${name} takes neither sf, bs nor key`);
  if (bs && (sf || key !== undefined))
    throw wrong(`${name}: bs cannot be combined with sf or key (RFC 9421, section 2.1)`);
  return component;
}

/** As it is in `Signature-Input` and in front of its value. */
export function identifierItem({ name, order, ...own }: Component): Item {
  const parameters = new Map<string, BareItem>();
  for (const one of order) {
    const value = own[one];
    if (value !== undefined && value !== false) parameters.set(one === 'param' ? 'name' : one, value);
  }
  return [name, parameters];
}

export const identifier = (component: Component): string => serializeItem(identifierItem(component));

/** One that was received. @throws Problem file-shape as `componentFrom` */
export function componentOf([name, parameters]: Item): Component {
  const spec: Record<string, BareItem> = { name: String(name) };
  for (const [given, value] of parameters) {
    const text = given === 'key' || given === 'name';
    if (text ? typeof value === 'string' : value === true) spec[given === 'name' ? 'param' : given] = value;
  }
  return componentFrom(spec as unknown as ComponentSpec);
}

/** @throws Problem expression-value: the message has no such component, or its value cannot be signed */
export function componentValue(component: Component, message: Message): string {
  const source = component.req ? message.request : message;
  const value =
    source && (component.name.startsWith('@') ? derivedValue(component, source) : fieldValue(component, source));
  if (value === undefined) {
    const owner = message.status === undefined || component.req ? 'request' : 'response';
    throw new Problem('expression-value', {
      what: `the signature covers ${identifier(component)}, and the ${owner} has none`,
      ...(source && whyNone(component, source)),
    });
  }
  if (!/^[\u0020-\u007e\t]*$/.test(value)) {
    throw new Problem('expression-value', {
      what: `the value of ${identifier(component)} holds a line break or a character that is not ASCII`,
      remedy: 'with bs it is signed as bytes (RFC 9421, section 2.1.3)',
    });
  }
  return value;
}

function whyNone(
  component: Component,
  { url, headers, trailers, status }: Message,
): { readonly what?: string; readonly cause?: string; readonly remedy?: string | undefined } {
  const { name, key, param, tr } = component;
  if (param !== undefined && url) {
    const names = [...url.searchParams.keys()].map(encoded);
    const times = names.filter((own) => own === param).length;
    if (times > 1)
      return {
        what: `the signature covers ${identifier(component)}, and the parameter stands ${times} times`,
        cause: 'by its name only one can be signed (RFC 9421, section 2.2.8)',
        remedy: '@query covers all of them',
      };
    return {
      remedy: names.includes(encoded(param))
        ? `a parameter is named as it is encoded: param: ${encoded(param)}`
        : nearestHint(param, names),
    };
  }
  if (name === '@status' && status === undefined)
    return { remedy: 'only responses have a status: responses: says what those are signed over' };
  if (name.startsWith('@')) return {};
  const lines = tr ? trailers : headers;
  if (key !== undefined && lines.some(([own]) => own.toLowerCase() === name)) {
    const value = fieldValue({ ...plainField, name, tr }, { headers, trailers }) ?? '';
    return { remedy: nearestHint(key, read(name, () => parseDictionary(value)).keys()) };
  }
  const near = nearest(
    name,
    lines.map(([own]) => own.toLowerCase()),
  );
  return {
    remedy:
      near === undefined
        ? 'headers that a session, a cookie or the transport adds are there too; preview shows them all'
        : `did you mean ${near}?`,
  };
}

const plainField: Omit<Component, 'name'> = {
  sf: false,
  key: undefined,
  bs: false,
  tr: false,
  req: false,
  param: undefined,
  order: [],
};

/** Section 2.2. */
function derivedValue({ name, param }: Component, { method, url, status }: Message): string | undefined {
  if (name === '@status') return status === undefined ? undefined : String(status);
  if (!url) return undefined;
  switch (name) {
    case '@method':
      return method;
    case '@target-uri':
      return url.origin + url.pathname + url.search;
    case '@authority':
      return url.host;
    case '@scheme':
      return url.protocol.slice(0, -1);
    case '@request-target':
      return url.pathname + url.search;
    case '@path':
      return url.pathname;
    case '@query':
      return url.search === '' ? '?' : url.search;
    default:
      return queryParam(param as string, url);
  }
}

/** Section 2.2.8: read as a form, written as octets. A name that stands twice cannot be signed. */
function queryParam(name: string, { searchParams }: URL): string | undefined {
  const values = [...searchParams].filter(([own]) => encoded(own) === name).map(([, value]) => encoded(value));
  return values.length === 1 ? values[0] : undefined;
}

/** The percent-encoding of forms (WHATWG URL, 5.2), a space as octets. */
const encoded = (text: string): string =>
  encodeURIComponent(text).replace(/[!'()~]/g, (char) => `%${char.charCodeAt(0).toString(16).toUpperCase()}`);

/** Section 2.1. */
function fieldValue({ name, sf, key, bs, tr }: Component, { headers, trailers }: Message): string | undefined {
  const lines = (tr ? trailers : headers)
    .filter(([own]) => own.toLowerCase() === name)
    .map(([, value]) => value.replace(/[ \t]*\r?\n[ \t]+/g, ' ').replace(/^[ \t]+|[ \t]+$/g, ''));
  if (lines.length === 0) return undefined;
  if (bs) return serializeList(lines.map((line) => [Buffer.from(line, 'latin1'), new Map()]));
  const value = lines.join(', ');
  if (key !== undefined) return memberValue(name, key, value);
  return sf ? structured(name, value) : value;
}

function memberValue(name: string, key: string, value: string): string | undefined {
  const member = read(name, () => parseDictionary(value)).get(key);
  if (member === undefined) return undefined;
  return Array.isArray(member[0])
    ? serializeInnerList(member as Parameters<typeof serializeInnerList>[0])
    : serializeItem(member as Item);
}

/** Fields whose type cannot be seen by their text: a list of names reads as a dictionary too. */
const dictionaries = new Set([
  'content-digest',
  'repr-digest',
  'want-content-digest',
  'want-repr-digest',
  'signature',
  'signature-input',
  'accept-signature',
  'priority',
  'cdn-cache-control',
]);

function structured(name: string, value: string): string {
  if (dictionaries.has(name)) return serializeDictionary(read(name, () => parseDictionary(value)));
  for (const again of [
    () => serializeItem(parseItem(value)),
    () => serializeList(parseList(value)),
    () => serializeDictionary(parseDictionary(value)),
  ]) {
    try {
      return again();
    } catch {
      // Perhaps it is of the next type.
    }
  }
  throw noStructure(name);
}

function read(name: string, parse: () => Dictionary): Dictionary {
  try {
    return parse();
  } catch {
    throw noStructure(name);
  }
}

const noStructure = (name: string): Problem =>
  new Problem('expression-value', {
    what: `the header ${name} is not a structured field (RFC 9651)`,
    remedy: 'sf and key are for structured fields; leave them out, or use bs',
  });
