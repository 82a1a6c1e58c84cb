/** `form`: application/x-www-form-urlencoded (WHATWG URL Standard, section 5). A list repeats its field. */
import { omitted } from '../../expression/evaluation.js';
import { compileTree, replacedAt, type SecretTrace } from '../../expression/tree.js';
import { Problem } from '../../problem/problem.js';
import { textOf } from '../../value/text.js';
import { isValueMap, plain, type Value } from '../../value/written.js';
import { hidden } from '../wire.js';
import type { BodyKind } from './body-kind.js';

export const form: BodyKind = {
  name: 'form',
  about: 'fields, sent URL-encoded; a list repeats its field',
  compile(spec, where, loads) {
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
  for (const [name, value] of Object.entries(fields)) {
    for (const item of Array.isArray(value) ? (value as readonly Value[]) : [value]) {
      if (plain(item) === null || (typeof item === 'object' && plain(item) === item)) {
        throw new Problem('body-shape', {
          what: `the form field ${name} is ${plain(item) === null ? 'null' : 'not a text'}`,
          remedy: 'a form holds text; leave a field out with ${omit}, or write a structure as text with | json',
        });
      }
      pairs.append(name, textOf(item));
    }
  }
  return pairs.toString();
}
