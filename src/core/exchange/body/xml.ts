/** `xml`: text with values in it, each escaped so that it stays text (XML 1.0, section 2.4). */
import { type Evaluation, masked, omitted } from '../../expression/evaluation.js';
import { compileTemplate } from '../../expression/template.js';
import { Problem } from '../../problem/problem.js';
import { textOf } from '../../value/text.js';
import type { Value } from '../../value/written.js';
import { hidden } from '../request/wire.js';
import type { BodyKind, BodySetting } from './body-kind.js';

export const xml: BodyKind = {
  name: 'xml',
  about: 'XML text; the values in it are escaped',
  compile(spec, setting) {
    const text = compileXml(spec, setting);
    return (evaluation) => ({ ...text(evaluation), type: 'application/xml; charset=utf-8' });
  },
};

export interface XmlText {
  readonly bytes: Uint8Array;
  readonly shown: string;
  readonly secret: boolean;
}

/** Stands where a value is left out; no document may hold it (XML 1.0, section 2.2). */
const gap = '\uFFFF';

/** @param setting `where` is the position of the text in its file */
export function compileXml(
  spec: Value,
  { where, loads }: Pick<BodySetting, 'where' | 'loads'>,
): (evaluation: Evaluation) => XmlText {
  const template = compileTemplate(spec, where([]), loads, { asText: inserted, omitted: gap });
  return (evaluation) => {
    const { result: value, secret, pieces } = evaluation.inPieces(() => template.evaluate(evaluation));
    const whole = value === omitted ? gap : textOf(value);
    const sent = withoutGaps(whole);
    if (sent.includes(gap)) {
      throw new Problem('body-shape', {
        what: '${absent} is not inside an element that can be removed',
        where: where([]),
        remedy:
          'the element that is to vanish holds nothing but text and the value: <remarks>${remarks ?? absent}</remarks>',
      });
    }
    return {
      bytes: Buffer.from(sent, 'utf8'),
      shown: secret ? withoutGaps(masked(whole, pieces, hidden)) : sent,
      secret,
    };
  };
}

/** A value where it stands: a name behind `<`, plain in a CDATA section, markup where a template was rendered, else text. */
function inserted(text: string, before: string, expression: string): string {
  // A section ends with its first ]]> (XML 1.0, section 2.7): a value with one goes on in a second section.
  if (before.lastIndexOf('<![CDATA[') > before.lastIndexOf(']]>')) return text.replaceAll(']]>', ']]]]><![CDATA[>');
  if (/<\/?(?:[\p{L}_][\p{L}\p{N}._-]*:)?$/u.test(before)) {
    if (/^[\p{L}_][\p{L}\p{N}._-]*$/u.test(text)) return text;
    throw new Problem('body-shape', {
      what: `${JSON.stringify(text)} cannot be the name of an element`,
      remedy: 'a name begins with a letter, and holds letters, digits, dots and dashes (XML 1.0, section 2.3)',
    });
  }
  return /\brender(?:-each)?\s*\(/.test(expression) ? text : escaped(text);
}

/** Attributes and the smallest elements with a gap are left out, and the line that they alone stood on. */
function withoutGaps(text: string): string {
  if (!text.includes(gap)) return text;
  const attribute = new RegExp(`\\s+[^\\s=<>"']+\\s*=\\s*(?:"[^"<]*${gap}[^"<]*"|'[^'<]*${gap}[^'<]*')`, 'g');
  const element = new RegExp(`(\\n[ \\t]*)?<([^\\s<>/!?]+)(?:\\s[^<>]*)?>[^<>${gap}]*${gap}[^<>]*</\\2\\s*>`, 'g');
  return text.replace(attribute, '').replace(element, '');
}

/** For text and for attribute values in either kind of quotes; a line break in an attribute would become a space. */
export function escaped(text: string): string {
  return text
    .replaceAll('&', '&amp;')
    .replaceAll('<', '&lt;')
    .replaceAll('>', '&gt;')
    .replaceAll('"', '&quot;')
    .replaceAll("'", '&apos;')
    .replaceAll('\r', '&#13;');
}
