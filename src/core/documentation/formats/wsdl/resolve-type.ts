/** Types of XML Schema, with what they derive from (XML Schema 1.1 part 1, section 2.2.1.1). */
import { ownMember } from '../../../value/own-member.js';
import type { Definitions, Limits } from '../../model/model.js';
import {
  type ClarkName,
  elementKey,
  encoding,
  type Particle,
  typeKey,
  type XsdAttribute,
  type XsdElement,
  type XsdType,
  xsd,
} from './model.js';

export const localName = (name: ClarkName): string => name.slice(name.indexOf('}') + 1);

/** What a type comes down to: its simple kind, or its members. */
export interface ResolvedType {
  readonly text: string;
  readonly allowed?: readonly string[] | undefined;
  readonly limits?: Limits | undefined;
  readonly about?: string | undefined;
  /** In their order; of a simple type none. */
  readonly particles: readonly Particle[];
  readonly attributes: readonly XsdAttribute[];
  readonly complex: boolean;
  /** What an encoded array holds. */
  readonly arrayOf?: ClarkName | undefined;
  /** Of an abstract type those that values are of. */
  readonly instead?: readonly ClarkName[] | undefined;
  /** Names of the types on the way, for recursion. */
  readonly names: readonly ClarkName[];
}

const plainTypes: Readonly<Record<string, string>> = {
  string: 'string',
  normalizedString: 'string',
  token: 'string',
  boolean: 'boolean',
  decimal: 'number',
  float: 'number',
  double: 'number',
  integer: 'integer',
  int: 'integer',
  long: 'integer',
  short: 'integer',
  byte: 'integer',
  nonNegativeInteger: 'integer',
  positiveInteger: 'integer',
  unsignedInt: 'integer',
  unsignedLong: 'integer',
  unsignedShort: 'integer',
  dateTime: 'string (date-time)',
  date: 'string (date)',
  time: 'string (time)',
  anyURI: 'string (uri)',
  base64Binary: 'string (base64)',
};

const isBuiltIn = (name: ClarkName): boolean => name.startsWith(`{${xsd}}`) || name.startsWith(`{${encoding}}`);

/** A global element in place of the reference that stands for it; how often it stands is said by the reference. */
export function elementOf(given: XsdElement, definitions: Definitions): XsdElement {
  if (given.ref === undefined) return given;
  const target = definitions.get(elementKey(given.ref)) as unknown as XsdElement | undefined;
  return target ? { ...target, least: given.least, most: given.most } : given;
}

/** An element for which others may stand is a choice of them. */
export function particleOf(given: Particle, definitions: Definitions): Particle {
  if (given.is !== 'element' || given.element.ref === undefined) return given;
  const { ref, least, most } = given.element;
  const head = globalElement(ref, definitions);
  if (!head?.instead) return given;
  const own = head.abstract ? [] : [{ ...head, least: 1, most: 1 }];
  const others = head.instead.map((name) => ({ local: localName(name), namespace: '', ref: name, least: 1, most: 1 }));
  const items = [...own, ...others].map((element): Particle => ({ is: 'element', element }));
  return { is: 'choice', items, least, most };
}

export function globalElement(name: ClarkName, definitions: Definitions): XsdElement | undefined {
  return definitions.get(elementKey(name)) as unknown as XsdElement | undefined;
}

export function resolveType(
  { type, inline }: { readonly type?: ClarkName; readonly inline?: XsdType },
  definitions: Definitions,
  depth = 0,
): ResolvedType {
  const nothing: ResolvedType = { text: 'string', particles: [], attributes: [], complex: false, names: [] };
  if (type !== undefined && isBuiltIn(type)) {
    const local = localName(type);
    return { ...nothing, text: ownMember(plainTypes, local) ?? (/^any/.test(local) ? 'any' : `string (${local})`) };
  }
  const own =
    inline ?? (type === undefined ? undefined : (definitions.get(typeKey(type)) as unknown as XsdType | undefined));
  if (!own) return { ...nothing, text: type === undefined ? 'any' : `${localName(type)} (not described)` };
  const names = type === undefined ? [] : [type];
  const base =
    own.base !== undefined && depth < 20 ? resolveType({ type: own.base }, definitions, depth + 1) : undefined;
  const about = own.about ?? base?.about;
  if (own.simple) {
    const text = own.derivation === 'list' ? `array of ${base?.text ?? 'string'}` : (base?.text ?? 'string');
    return {
      ...nothing,
      text,
      names,
      about,
      allowed: own.allowed ?? base?.allowed,
      limits: { ...base?.limits, ...own.limits },
    };
  }
  const content = own.content ? [own.content] : [];
  const attributes = own.attributes ?? [];
  // A restriction writes its content out again; an extension adds to that of its base.
  const particles = own.derivation === 'extension' ? [...(base?.particles ?? []), ...content] : content;
  const simpleContent = base !== undefined && !base.complex;
  return {
    text: simpleContent ? base.text : 'object',
    about,
    names: [...names, ...(base?.names ?? [])],
    particles,
    attributes: [
      ...(base?.attributes ?? []).filter(({ name }) => !attributes.some((one) => one.name === name)),
      ...attributes,
    ],
    complex: !simpleContent,
    arrayOf: own.arrayOf ?? base?.arrayOf,
    instead: own.abstract && own.instead,
    ...(simpleContent && { allowed: base.allowed, limits: base.limits }),
  };
}
