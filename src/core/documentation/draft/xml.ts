/** An XML body from the fields of its schema: required elements stand there, optional ones as comments. */
import { escaped } from '../model/escape-xml.js';
import type { Body, Field } from '../model/model.js';
import { xmlText } from '../model/xml-text.js';
import { sample } from './facts.js';
import type { Inputs } from './inputs.js';
import { block, type DraftNode, literalText, reference } from './yaml.js';

export function xmlBody(body: Body, inputs: Inputs): DraftNode {
  const text = xmlText(body, {
    takes: ({ readOnly }) => !readOnly,
    value: (field, path, on) => value(field, path, inputs, on),
    optional: (lines, note) => [`<!-- ${literalText(safe(note))}`, ...lines.map(safe), '-->'],
    repeats: (note) => [`<!-- ${literalText(safe(note))} -->`],
  });
  return block(`${text.join('\n')}\n`);
}

/** Two hyphens end a comment (XML 1.0, section 2.5). */
const safe = (text: string): string => text.replaceAll('--', '- -');

function value(field: Field, path: readonly string[], inputs: Inputs, on: boolean): string {
  const [only, more] = field.allowed ?? [];
  if (only !== undefined && more === undefined) return literalText(escaped(String(only)));
  // Of a list, one item: more of them are written beside it.
  if (on) return reference(inputs.add({ ...field, type: field.type.replace(/^array of /, '') }, path, 'body'));
  const example = sample(field);
  return literalText(escaped(String(Array.isArray(example) ? example[0] : example)));
}
