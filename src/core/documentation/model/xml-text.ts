/** Fields as XML, by the XML Objects of their schemas (OpenAPI 3.1, section 4.8.26). */
import { escaped } from './escape-xml.js';
import { limitsText } from './limits-text.js';
import type { Content, Field, XmlWriting } from './model.js';

export interface XmlWriter {
  /** Whether it is there at all. */
  takes(field: Field): boolean;
  /** The text of an element or an attribute, escaped. @param on false inside of what is optional */
  value(field: Field, path: readonly string[], on: boolean): string;
  /** What becomes of an element that may be left out. */
  optional(lines: readonly string[], note: string): readonly string[];
  /** What stands behind an element that may repeat. */
  repeats(note: string): readonly string[];
}

/** Line by line. */
export function xmlText({ fields, xml }: Pick<Content, 'fields' | 'xml'>, writer: XmlWriter): string[] {
  return element({ tag: tagOf(xml, 'root'), space: spaceOf(xml), fields, path: [], on: true }, writer);
}

interface Element {
  readonly tag: string;
  readonly space: string;
  readonly fields: readonly Field[];
  readonly path: readonly string[];
  readonly on: boolean;
}

const tagOf = (xml: XmlWriting | undefined, name: string): string =>
  `${xml?.prefix ? `${xml.prefix}:` : ''}${xml?.name ?? name}`;

const spaceOf = (xml: XmlWriting | undefined): string =>
  xml?.namespace === undefined ? '' : ` xmlns${xml.prefix ? `:${xml.prefix}` : ''}="${escaped(xml.namespace)}"`;

function element({ tag, space, fields, path, on }: Element, writer: XmlWriter): string[] {
  const sent = fields.filter((field) => writer.takes(field));
  const attributes = sent
    .filter(({ xml, required }) => xml?.attribute && required)
    .map((field) => ` ${tagOf(field.xml, field.name)}="${writer.value(field, [...path, field.name], on)}"`)
    .join('');
  const inner = sent
    .filter(({ xml }) => !xml?.attribute)
    .flatMap((field) => member(field, [...path, field.name], on, writer));
  return [`<${tag}${space}${attributes}>`, ...indented(inner), `</${tag}>`];
}

const indented = (lines: readonly string[]): string[] => lines.map((line) => `  ${line}`);

function member(field: Field, path: readonly string[], on: boolean, writer: XmlWriter): readonly string[] {
  const { name, xml, type, required, fields = [] } = field;
  const list = /^array\b/.test(type);
  const use = on && required;
  const outer = tagOf(xml, name);
  // The items of a list are named by themselves; where it is wrapped, it has an element around them.
  const tag = list ? (xml?.item ?? (xml?.wrapped ? name : outer)) : outer;
  const own =
    fields.length > 0
      ? element({ tag, space: spaceOf(xml), fields, path, on: use }, writer)
      : [`<${tag}${spaceOf(xml)}>${writer.value(field, path, use)}</${tag}>`];
  const note = [type, limitsText(field), list && 'may repeat', !required && 'optional'].filter(Boolean).join(', ');
  const items = list ? [...own, ...(use ? writer.repeats(note) : [])] : own;
  const lines = list && xml?.wrapped ? [`<${outer}>`, ...indented(items), `</${outer}>`] : items;
  if (use) return lines;
  if (on) return writer.optional(lines, note);
  return required ? lines : [];
}
