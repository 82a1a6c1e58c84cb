/**
 * `form`: application/x-www-form-urlencoded (WHATWG URL Standard, section 5). A list repeats its field; a map inside
 * is written with brackets, as servers that take structures in a form read them: `berth[quay]=north`.
 */
import { omitted } from '../../expression/evaluation.js';
import { compileTree, replacedAt, type SecretTrace } from '../../expression/tree.js';
import { Problem } from '../../problem/problem.js';
import { textOf } from '../../value/text.js';
import { isValueMap, plain, type Value } from '../../value/written.js';
import { hidden } from '../request/wire.js';
import type { BodyKind } from './body-kind.js';

export const form: BodyKind = {
  name: 'form',
  about: 'fields, sent URL-encoded; a list repeats its field, a map is written with brackets',
  compile(spec, { where, loads }) {
    const tree = compileTree(spec, where, loads);
    return (evaluation) => {
      const trace: SecretTrace = { path: [], secret: [] };
      const value = tree.evaluate(evaluation, trace);
      if (value === omitted) return undefined;
      const sent = encoded(value);
      const secret = trace.secret.length > 0;
      const shown = secret
        ? decodeURIComponent(encoded(replacedAt(value, trace.secret, hidden)).replaceAll('+', ' '))
        : sent;
      return { bytes: Buffer.from(sent, 'utf8'), type: 'application/x-www-form-urlencoded', shown, secret };
    };
  },
};

function encoded(fields: Value): string {
  if (!isValueMap(fields)) throw new Problem('body-shape', { what: 'a form is a map of fields' });
  const pairs = new URLSearchParams();
  const add = (name: string, value: Value): void => {
    if (Array.isArray(value)) {
      // Items that are maps need their place, or their members would run together.
      for (const [index, item] of (value as readonly Value[]).entries())
        add(isValueMap(item) || Array.isArray(item) ? `${name}[${index}]` : name, item);
    } else if (isValueMap(value)) for (const [key, inner] of Object.entries(value)) add(`${name}[${key}]`, inner);
    else if (plain(value) === null || value instanceof Uint8Array) {
      throw new Problem('body-shape', {
        what: `the form field ${name} is ${plain(value) === null ? 'null' : 'bytes'}`,
        remedy: 'a form holds text; leave a field out with ${absent}, or write bytes as text with | base64',
      });
    } else pairs.append(name, textOf(value));
  };
  for (const [name, value] of Object.entries(fields)) add(name, value);
  return pairs.toString();
}
