/** An envelope held against what the schemas document: names, order, namespaces, counts and values. */
import { DOMParser, onErrorStopParsing } from '@xmldom/xmldom';
import { nearest } from '../../problem/nearest.js';
import { clark, type Element, expanded, localOf } from '../formats/wsdl/dom.js';
import {
  type ClarkName,
  type MessagePart,
  type OwnSoapOperation,
  type Particle,
  type XsdElement,
  xsi,
} from '../formats/wsdl/model.js';
import { elementOf, globalElement, particleOf, type ResolvedType, resolveType } from '../formats/wsdl/resolve-type.js';
import type { Definitions } from '../model/model.js';
import { limitBroken, type Mismatch, valueShown } from './mismatch.js';

export interface EnvelopeMismatch extends Mismatch {
  /** In the text, from 1. */
  readonly line: number;
}

const soaps = new Set(['http://schemas.xmlsoap.org/soap/envelope/', 'http://www.w3.org/2003/05/soap-envelope']);
const most = 50;
/** Elements in elements; nobody's envelopes are deeper. */
const deepest = 200;

/** In the place of an expression, wherever one may stand: its value is known only when it is sent. */
const unknownName = 'echo-trail-unknown';

/**
 * @param text may hold expressions; of what they stand for only the presence counts
 * @param side which message of the operation it is
 * @returns nothing where it is no XML: another check reports that
 */
export function envelopeMismatches(
  text: string,
  own: OwnSoapOperation,
  definitions: Definitions,
  side: 'input' | 'output',
): readonly EnvelopeMismatch[] {
  const parts = (side === 'input' ? own.input : own.output)?.parts;
  const root = parts && own.use === 'literal' ? rootIn(text) : undefined;
  if (!parts || !root) return [];
  if (!soaps.has(root.namespaceURI ?? '') || root.localName !== 'Envelope')
    return [at(root, `is ${shown(root)}, documented is an envelope of SOAP ${own.version}`)];
  const body = childrenOf(root).find(({ localName }) => localName === 'Body');
  if (!body) return [at(root, 'has no Body')];
  const content = childrenOf(body);
  if (content.some((one) => one.localName === 'Fault' && soaps.has(one.namespaceURI ?? ''))) return [];
  const holding = new Holding(definitions);
  if (own.style === 'document')
    holding.content(
      body,
      parts.map((part) => particleFor(part, definitions)),
      content,
    );
  else {
    const wrapper = content[0];
    const name = clark(own.namespace, side === 'input' ? own.operation : `${own.operation}Response`);
    if (!wrapper) return [at(body, `holds nothing, documented is ${localOf(name)}`)];
    if (clarkOf(wrapper) !== name) return [at(wrapper, `is ${shown(wrapper)}, documented is ${named(name)}`)];
    // The order of the parameters of a call says nothing (SOAP 1.1, section 7.1).
    const items = parts.map((part) => particleFor(part, definitions));
    holding.content(wrapper, [{ is: 'all', items, least: 1, most: 1 }], childrenOf(wrapper));
  }
  return holding.found.slice(0, most);
}

function rootIn(text: string): Element | undefined {
  if (/<!(?:ENTITY|DOCTYPE)/i.test(text)) return undefined;
  try {
    const plain = text.replace(/\$\{(?:[^{}"']|"[^"]*"|'[^']*')*\}/g, unknownName);
    const parser = new DOMParser({ onError: onErrorStopParsing, locator: true });
    return parser.parseFromString(plain.trimStart(), 'text/xml').documentElement ?? undefined;
  } catch {
    return undefined;
  }
}

function particleFor({ name, element, type }: MessagePart, definitions: Definitions): Particle {
  const once = { least: 1, most: 1 };
  if (element === undefined)
    return { is: 'element', element: { local: name, namespace: '', ...once, ...(type !== undefined && { type }) } };
  const described = globalElement(element, definitions);
  // Of what no schema describes, anything may be right.
  return described ? { is: 'element', element: { ...described, ...once } } : { is: 'any', least: 0 };
}

/** Elements of one content, taken one after the other. */
interface Row {
  readonly parent: Element;
  /** The next one is the last of the list: to take it is cheap there. */
  readonly waiting: Element[];
  /** Names whose turn is over. */
  readonly passed: Set<ClarkName>;
  readonly taken: Set<ClarkName>;
  readonly beyond: Element[];
  /** Whatever is there is allowed. */
  open: boolean;
}

class Holding {
  readonly found: EnvelopeMismatch[] = [];
  private depth = 0;

  constructor(private readonly definitions: Definitions) {}

  content(parent: Element, particles: readonly Particle[], elements: readonly Element[]): void {
    // An expression in the place of elements may be any of them.
    const written =
      [...elements].some((one) => one.localName === unknownName) || holdsUnknownElements(parent, elements);
    if (written) return;
    const names = particles.flatMap((one) => this.names(one));
    const open = particles.some((one) => this.takesAny(one));
    const isKnown = (one: Element): boolean => names.includes(clarkOf(one));
    const row: Row = {
      parent,
      waiting: elements.filter((one) => open || isKnown(one)).reverse(),
      passed: new Set(),
      taken: new Set(),
      beyond: [],
      open: false,
    };
    for (const particle of particles) this.take(particle, row);
    const left = new Set(row.open ? [] : [...row.waiting, ...row.beyond]);
    for (const one of elements) if (left.has(one) || (!open && !isKnown(one))) this.beyond(one, names, row.taken);
  }

  private takesAny(particle: Particle): boolean {
    return particle.is === 'any' || (particle.is !== 'element' && particle.items.some((item) => this.takesAny(item)));
  }

  private beyond(element: Element, names: readonly ClarkName[], taken: ReadonlySet<ClarkName>): void {
    const known = names.find((name) => localOf(name) === element.localName);
    if (names.includes(clarkOf(element)))
      this.tell(
        element,
        taken.has(clarkOf(element))
          ? 'occurs more often than documented'
          : 'stands out of the documented order, or beside what excludes it',
      );
    else if (known !== undefined) this.tell(element, `is of ${spaceOf(element)}, documented is ${named(known)}`);
    else {
      const near = nearest(element.localName ?? '', names.map(localOf));
      this.tell(element, `is not documented${near === undefined ? '' : `; documented is ${near}`}`);
    }
  }

  private take(given: Particle, row: Row): void {
    const particle = particleOf(given, this.definitions);
    if (particle.is === 'any') {
      row.open = true;
      return;
    }
    if (particle.is === 'element') {
      this.elements(elementOf(particle.element, this.definitions), row);
      return;
    }
    const limit = particle.most === -1 ? Number.POSITIVE_INFINITY : particle.most;
    for (let round = 0; round < limit; round += 1) {
      const next = row.waiting.at(-1);
      const begins = next !== undefined && this.begins(particle, next);
      if (round >= particle.least && !begins) return;
      const before = row.waiting.length;
      const names = this.names(particle);
      for (const name of names) row.passed.delete(name);
      if (particle.is === 'sequence') for (const item of particle.items) this.take(item, row);
      else if (particle.is === 'all') this.inAnyOrder(particle.items, row);
      else this.choice(particle.items, row);
      for (const name of names) row.passed.add(name);
      if (row.waiting.length === before) return;
    }
  }

  private inAnyOrder(items: readonly Particle[], row: Row): void {
    const left = [...items];
    for (;;) {
      const next = row.waiting.at(-1);
      const index = next === undefined ? -1 : left.findIndex((item) => this.begins(item, next));
      if (index === -1) break;
      for (const item of left.splice(index, 1)) this.take(item, row);
    }
    for (const item of left) this.take(item, row);
  }

  private choice(items: readonly Particle[], row: Row): void {
    let chosen: Particle | undefined;
    for (let at = row.waiting.length - 1; at >= 0 && !chosen; at -= 1)
      chosen = items.find((item) => this.begins(item, row.waiting[at] as Element));
    if (chosen) this.take(chosen, row);
    else if (!items.some((item) => this.mayBeMissing(item)) && !row.open)
      this.tell(
        row.parent,
        `holds none of ${items
          .flatMap((item) => this.names(item))
          .map(localOf)
          .join(', ')}, and one is required`,
      );
  }

  private elements(element: XsdElement, row: Row): void {
    const name = clark(element.namespace, element.local);
    const limit = element.most === -1 ? Number.POSITIVE_INFINITY : element.most;
    let count = 0;
    const take = (one: Element): void => {
      count += 1;
      row.taken.add(name);
      this.element(one, element);
    };
    for (let next = row.waiting.at(-1); next; next = row.waiting.at(-1)) {
      const its = clarkOf(next);
      if (its === name ? count >= limit : !row.passed.has(its)) break;
      row.waiting.pop();
      if (its === name) take(next);
      else row.beyond.push(next);
    }
    row.passed.add(name);
    if (count >= element.least) return;
    const later = row.waiting.findLastIndex((one) => clarkOf(one) === name);
    const astray = row.waiting[later];
    if (astray) {
      this.tell(astray, `stands behind ${row.waiting.at(-1)?.localName}, documented is before it`);
      row.waiting.splice(later, 1);
      take(astray);
    } else if (!childrenOf(row.parent).some((one) => one.localName === element.local) && !row.open)
      this.tell(row.parent, 'is documented as required, and missing', element.local);
  }

  private element(node: Element, element: XsdElement): void {
    this.depth += 1;
    if (this.depth < deepest) this.inElement(node, element);
    this.depth -= 1;
  }

  private inElement(node: Element, element: XsdElement): void {
    if (node.getAttributeNS(xsi, 'nil') === 'true') return;
    const told = node.getAttributeNS(xsi, 'type');
    const resolved = resolveType(told ? { type: expanded(node, told) } : element, this.definitions);
    if (resolved.text === 'any' || /not described/.test(resolved.text) || resolved.arrayOf !== undefined) return;
    this.attributes(node, resolved);
    if (!told && resolved.instead) return;
    const inner = childrenOf(node);
    if (resolved.complex) this.content(node, resolved.particles, inner);
    else if (inner[0]) this.tell(inner[0], `is in ${node.localName}, documented as ${resolved.text}`);
    else this.value(node, node.textContent ?? '', element.fixed, resolved);
  }

  private attributes(node: Element, { attributes }: ResolvedType): void {
    for (const { name, required } of attributes)
      if (required && !node.hasAttribute(name)) this.tell(node, `requires the attribute ${name}, which is missing`);
    for (const { name, namespaceURI } of [...node.attributes]) {
      if (namespaceURI || name === 'xmlns' || attributes.some((one) => one.name === name)) continue;
      this.tell(node, `has the attribute ${name}, which is not documented`);
    }
  }

  private value(node: Element, given: string, fixed: string | undefined, resolved: ResolvedType): void {
    if (given.includes(unknownName)) return;
    const text = resolved.text === 'string' ? given : given.trim();
    const { allowed, limits } = resolved;
    if (fixed !== undefined && text !== fixed) this.tell(node, `is ${valueShown(text)}, documented is ${fixed} alone`);
    else if (allowed && !allowed.includes(text))
      this.tell(node, `is ${valueShown(text)}, documented are ${allowed.join(', ')}`);
    else if (!isOf(text, resolved.text)) this.tell(node, `is ${valueShown(text)}, documented as ${resolved.text}`);
    else {
      const number = /^(?:integer|number)/.test(resolved.text);
      const beyond = limits && limitBroken(number ? Number(text) : text, limits);
      if (beyond !== undefined)
        this.tell(node, `is ${valueShown(number ? Number(text) : text)}, documented is ${beyond}`);
    }
  }

  /** Whether a content may begin with an element. */
  private begins(given: Particle, element: Element): boolean {
    const particle = particleOf(given, this.definitions);
    if (particle.is === 'any') return true;
    if (particle.is === 'element') {
      const { local, namespace } = elementOf(particle.element, this.definitions);
      return clark(namespace, local) === clarkOf(element);
    }
    if (particle.is !== 'sequence') return particle.items.some((item) => this.begins(item, element));
    for (const item of particle.items) {
      if (this.begins(item, element)) return true;
      if (!this.mayBeMissing(item)) return false;
    }
    return false;
  }

  private mayBeMissing(particle: Particle): boolean {
    if (particle.is === 'element') return particle.element.least === 0;
    if (particle.least === 0 || particle.is === 'any') return particle.least === 0;
    const missing = (item: Particle): boolean => this.mayBeMissing(item);
    return particle.is === 'choice' ? particle.items.some(missing) : particle.items.every(missing);
  }

  private names(given: Particle): readonly ClarkName[] {
    const particle = particleOf(given, this.definitions);
    if (particle.is === 'any') return [];
    if (particle.is !== 'element') return particle.items.flatMap((item) => this.names(item));
    const { local, namespace } = elementOf(particle.element, this.definitions);
    return [clark(namespace, local)];
  }

  private tell(node: Element, what: string, below?: string): void {
    if (this.found.length < most) this.found.push(at(node, what, below));
  }
}

function childrenOf(node: Element): Element[] {
  const found: Element[] = [];
  for (let one = node.firstChild; one; one = one.nextSibling) if (one.nodeType === 1) found.push(one as Element);
  return found;
}

/** Text with an expression beside elements, or in their place: a template may be rendered there. */
const holdsUnknownElements = (parent: Element, elements: readonly Element[]): boolean =>
  [...parent.childNodes].some((one) => one.nodeType === 3 && (one.nodeValue ?? '').includes(unknownName)) ||
  (elements.length === 0 && (parent.textContent ?? '').includes(unknownName));

const clarkOf = ({ namespaceURI, localName }: Element): ClarkName => clark(namespaceURI ?? '', localName ?? '');

const named = (name: ClarkName): string => `${localOf(name)} of ${name.slice(1, name.indexOf('}')) || 'no namespace'}`;
const spaceOf = ({ namespaceURI }: Element): string => namespaceURI || 'no namespace';
const shown = (element: Element): string => named(clarkOf(element));

function at(node: Element, what: string, below?: string): EnvelopeMismatch {
  const path: string[] = below === undefined ? [] : [below];
  for (let one: Element | null = node; one && one.localName !== 'Body'; one = one.parentNode as Element | null) {
    if (one.nodeType !== 1) break;
    path.unshift(one.localName ?? '');
  }
  const { lineNumber = 1 } = node as { lineNumber?: number };
  return { at: `/${path.join('/')}`, path: [], what, line: lineNumber };
}

const lexical: readonly (readonly [type: RegExp, form: RegExp])[] = [
  [/^integer/, /^[+-]?\d+$/],
  [/^number/, /^(?:[+-]?(?:\d+(?:\.\d*)?|\.\d+)(?:[eE][+-]?\d+)?|-?INF|NaN)$/],
  [/^boolean/, /^(?:true|false|1|0)$/],
  [/^string \(date-time\)/, /^-?\d{4,}-\d\d-\d\dT\d\d:\d\d:\d\d(?:\.\d+)?(?:Z|[+-]\d\d:\d\d)?$/],
  [/^string \(date\)/, /^-?\d{4,}-\d\d-\d\d(?:Z|[+-]\d\d:\d\d)?$/],
];

/** XML Schema 1.1 part 2, section 3.3. */
const isOf = (text: string, type: string): boolean =>
  (lexical.find(([pattern]) => pattern.test(type))?.[1] ?? /^/).test(text);
