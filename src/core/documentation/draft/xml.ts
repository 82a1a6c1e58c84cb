/** An XML body from the fields of its schema: required elements stand there, optional ones as comments. */
import { escaped } from '../model/escape-xml.js';
import type { Body, Field } from '../model/model.js';
import { xmlText } from '../model/xml-text.js';
import type { Inputs } from './inputs.js';
import { active, type Line, reference, sample } from './lines.js';

/** The lines of `xml: |`; none where nothing is known of its elements. */
export function xmlLines(body: Body, inputs: Inputs): Line[] {
  if (body.fields.length === 0) return [];
  const text = xmlText(body, {
    takes: ({ readOnly }) => !readOnly,
    value: (field, path, on) => value(field, path, inputs, on),
    optional: (lines, note) => [`<!-- ${note}`, ...lines.map(safe), '-->'],
    repeats: (note) => [`<!-- ${note} -->`],
  });
  return [active('xml: |'), ...text.map((line) => active(`  ${line}`))];
}

/** Two hyphens end a comment (XML 1.0, section 2.5). */
const safe = (text: string): string => text.replaceAll('--', '- -');

function value(field: Field, path: readonly string[], inputs: Inputs, on: boolean): string {
  const [only, more] = field.allowed ?? [];
  if (only !== undefined && more === undefined) return escaped(String(only));
  // Of a list, one item: more of them are written beside it.
  if (on) return reference(inputs.add({ ...field, type: field.type.replace(/^array of /, '') }, path, 'body'));
  const example = sample(field);
  return escaped(String(Array.isArray(example) ? example[0] : example));
}
