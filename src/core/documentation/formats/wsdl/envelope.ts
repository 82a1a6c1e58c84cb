/**
 * The envelope of a call, in the order and the namespaces that the schema demands: required elements stand
 * there, optional ones and other choices as comments.
 */
import { ownMember } from '../../../value/own-member.js';
import { fullBudget } from '../../model/budget.js';
import { escaped } from '../../model/escape-xml.js';
import type { Definitions } from '../../model/model.js';
import {
  type ClarkName,
  encoding,
  type MessagePart,
  type OwnSoapOperation,
  type Particle,
  type XsdElement,
  xsd,
  xsi,
} from './model.js';
import { elementOf, globalElement, localName, particleOf, type ResolvedType, resolveType } from './resolve-type.js';

const envelopes = {
  '1.1': 'http://schemas.xmlsoap.org/soap/envelope/',
  '1.2': 'http://www.w3.org/2003/05/soap-envelope',
} as const;

/** What an encoded call says of itself (SOAP 1.1, section 4.1.1; SOAP 1.2, part 2, section 3). */
const encodingStyles = { '1.1': encoding, '1.2': 'http://www.w3.org/2003/05/soap-encoding' } as const;

/** What a leaf is, for whoever writes its text. */
export interface Leaf {
  readonly path: readonly string[];
  readonly type: string;
  readonly allowed?: readonly string[] | undefined;
  readonly limits?: ResolvedType['limits'];
  readonly about?: string | undefined;
  readonly default?: string | undefined;
  /** False inside a comment. */
  readonly active: boolean;
}

export type LeafText = (leaf: Leaf) => string;

/** As everybody writes them. */
const usualPrefixes: Readonly<Record<string, string>> = { [xsd]: 'xsd', [xsi]: 'xsi', [encoding]: 'enc' };

const deepest = 12;

/** An envelope with sample values. */
export const sampleEnvelope = (own: OwnSoapOperation, definitions: Definitions): string =>
  envelopeText(own, definitions, (leaf) => escaped(sampleText(leaf)));

/** A response with sample values; one of RPC is called after its operation (SOAP 1.1, section 7.1). */
export function sampleResponse(own: OwnSoapOperation, parts: readonly MessagePart[], definitions: Definitions): string {
  const response = { ...own, operation: `${own.operation}Response`, input: { parts, headers: [] } };
  return sampleEnvelope(response, definitions);
}

export function sampleText({ default: fallback, allowed, type }: Leaf): string {
  if (fallback !== undefined) return fallback;
  if (allowed?.[0] !== undefined) return allowed[0];
  if (/integer|number/.test(type)) return '0';
  if (type.startsWith('boolean')) return 'false';
  if (type.includes('date-time')) return '2026-11-24T09:00:00Z';
  if (type.includes('(date)')) return '2026-11-24';
  return 'text';
}

export function envelopeText(own: OwnSoapOperation, definitions: Definitions, text: LeafText): string {
  const encoded = own.use === 'encoded';
  const writing = new Writing(definitions, text, encoded);
  const headers = own.input.headers.flatMap((part) => writing.part(part));
  const parts = own.input.parts.flatMap((part) => writing.part(part));
  const style = encoded ? ` soap:encodingStyle="${encodingStyles[own.version]}"` : '';
  const body = own.style === 'rpc' ? writing.wrapped(own.operation, own.namespace, style, parts) : parts;
  const soap = envelopes[own.version];
  const spaces = [...writing.prefixes].map(([namespace, prefix]) => `    xmlns:${prefix}="${escaped(namespace)}"`);
  return [
    '<soap:Envelope',
    [`    xmlns:soap="${soap}"`, ...spaces].join('\n').concat('>'),
    ...(headers.length > 0 ? ['  <soap:Header>', ...indented(headers, 2), '  </soap:Header>'] : []),
    '  <soap:Body>',
    ...indented(body, 2),
    '  </soap:Body>',
    '</soap:Envelope>',
  ].join('\n');
}

const indented = (lines: readonly string[], levels: number): string[] =>
  lines.map((line) => '  '.repeat(levels) + line);

class Writing {
  /** By namespace. */
  readonly prefixes = new Map<string, string>();
  private readonly budget = fullBudget();

  constructor(
    private readonly definitions: Definitions,
    private readonly text: LeafText,
    /** Each element names its type. */
    private readonly encoded: boolean,
  ) {}

  part({ name, element, type }: MessagePart): string[] {
    const described = element === undefined ? undefined : globalElement(element, this.definitions);
    const own: XsdElement = described ?? {
      local: name,
      namespace: '',
      ...(type !== undefined && { type }),
      least: 1,
      most: 1,
    };
    return this.element({ ...own, least: 1, most: 1 }, [], true, []);
  }

  wrapped(name: string, namespace: string, attributes: string, lines: readonly string[]): string[] {
    const tag = this.tag(name, namespace);
    return [`<${tag}${attributes}>`, ...indented(lines, 1), `</${tag}>`];
  }

  private tag(local: string, namespace: string): string {
    if (namespace === '') return local;
    let prefix = this.prefixes.get(namespace);
    if (prefix === undefined) {
      const word =
        /([a-z][a-z0-9]*)[^a-z0-9]*$/i
          .exec(namespace.replace(/[^a-z0-9]+(?:v?\d[\d.]*)?\/?$/i, ''))?.[1]
          ?.toLowerCase() ?? 'ns';
      const taken = new Set(this.prefixes.values());
      prefix = ownMember(usualPrefixes, namespace) ?? (/^xml|^soap$/.test(word) ? 'ns' : word);
      for (let count = 2; taken.has(prefix); count += 1) prefix = `${word}${count}`;
      this.prefixes.set(namespace, prefix);
    }
    return `${prefix}:${local}`;
  }

  /** Of an encoded element, or of one whose type has to be said; a type that has no name cannot be named. */
  private typeAttributes({ type }: XsdElement, { arrayOf }: ResolvedType, told: boolean): string {
    if (!this.encoded && !told) return '';
    const named = (name: ClarkName): string => this.tag(localName(name), name.slice(1, name.indexOf('}')));
    if (arrayOf !== undefined) {
      const [array, holds] = [this.tag('Array', encoding), this.tag('arrayType', encoding)];
      return ` ${this.tag('type', xsi)}="${array}" ${holds}="${named(arrayOf)}[]"`;
    }
    return type === undefined ? '' : ` ${this.tag('type', xsi)}="${named(type)}"`;
  }

  /** @param above names of the types that hold it; @param told whether its type has to be said */
  private element(
    given: XsdElement,
    path: readonly string[],
    active: boolean,
    above: readonly ClarkName[],
    told = false,
  ): string[] {
    const element = elementOf(given, this.definitions);
    this.budget.left -= 1;
    if (this.budget.left < 0) return active ? [`<!-- ${element.local}: too much to be written here -->`] : [];
    const resolved = resolveType(element, this.definitions);
    const [first, ...others] = resolved.instead ?? [];
    if (first !== undefined) {
      const as = (type: ClarkName, on: boolean): string[] => this.element({ ...element, type }, path, on, above, true);
      return [
        ...as(first, active),
        ...(active ? others.flatMap((other) => this.marked(false, true, 'or', (on) => as(other, on))) : []),
      ];
    }
    if (resolved.names.some((name) => above.includes(name)) || path.length > deepest)
      return active ? [`<!-- ${element.local}: again as above -->`] : [];
    const here = [...path, element.local];
    const tag = this.tag(element.local, element.namespace);
    const described = resolved.attributes
      .filter(({ required }) => required)
      .map((one) => {
        const { text, allowed, limits, about } = resolveType(one, this.definitions);
        const leaf: Leaf = {
          path: [...here, one.name],
          type: text,
          allowed,
          limits,
          about: one.about ?? about,
          default: one.fixed ?? one.default,
          active,
        };
        const name = one.namespace ? this.tag(one.name, one.namespace) : one.name;
        return ` ${name}="${this.value(leaf, one.fixed)}"`;
      })
      .join('');
    const attributes = this.typeAttributes(element, resolved, told) + described;
    const many = element.most === -1 || element.most > 1 ? 'may repeat' : '';
    if (!resolved.complex) {
      const leaf: Leaf = {
        path: here,
        type: resolved.text,
        allowed: resolved.allowed,
        limits: resolved.limits,
        about: element.about ?? resolved.about,
        default: element.fixed ?? element.default,
        active,
      };
      const notes = [resolved.allowed?.join(' | '), many].filter(Boolean).join('; ');
      const note = notes === '' || !active ? '' : `   <!-- ${notes.replaceAll('--', '- -')} -->`;
      return [`<${tag}${attributes}>${this.value(leaf, element.fixed)}</${tag}>${note}`];
    }
    const inside = [...above, ...resolved.names];
    const inner = resolved.particles.flatMap((one) => this.particle(one, here, active, inside));
    if (inner.length === 0) return [`<${tag}${attributes}/>`];
    return [`<${tag}${attributes}>${many && active ? `   <!-- ${many} -->` : ''}`, ...indented(inner, 1), `</${tag}>`];
  }

  private value(leaf: Leaf, fixed: string | undefined): string {
    return fixed === undefined ? this.text(leaf) : escaped(fixed);
  }

  private particle(given: Particle, path: readonly string[], active: boolean, above: readonly ClarkName[]): string[] {
    const particle = particleOf(given, this.definitions);
    if (particle.is === 'any') return active ? ['<!-- any element may stand here -->'] : [];
    if (particle.is === 'element') {
      const { least, most } = particle.element;
      const word = most === 1 ? 'optional' : 'optional, may repeat';
      return this.marked(least > 0, active, word, (on) => this.element(particle.element, path, on, above));
    }
    if (particle.is !== 'choice') {
      return this.marked(particle.least > 0, active, 'optional', (on) =>
        particle.items.flatMap((one) => this.particle(one, path, on, above)),
      );
    }
    const [first, ...others] = particle.items;
    if (!first) return [];
    return [
      ...this.marked(particle.least > 0, active, 'optional', (on) => this.whole(first, path, on, above)),
      ...(active
        ? others.flatMap((one) => this.marked(false, true, 'or', (on) => this.whole(one, path, on, above)))
        : []),
    ];
  }

  /** A choice that is made is there, whatever its own number says. */
  private whole(particle: Particle, path: readonly string[], active: boolean, above: readonly ClarkName[]): string[] {
    return particle.is === 'element'
      ? this.element(particle.element, path, active, above)
      : this.particle(particle, path, active, above);
  }

  /** As it is where it is required, else inside one comment; comments do not nest. */
  private marked(required: boolean, active: boolean, word: string, write: (active: boolean) => string[]): string[] {
    if (required || !active) return write(active);
    const lines = write(false);
    if (lines.length === 0) return [];
    if (lines.length === 1) return [`<!-- ${word}: ${lines[0]} -->`];
    return [`<!-- ${word}:`, ...indented(lines, 1), '-->'];
  }
}
