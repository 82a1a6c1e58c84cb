/** `text`: text as it stands, in UTF-8. */
import { masked, omitted } from '../../expression/evaluation.js';
import { compileTemplate } from '../../expression/template.js';
import { textOf } from '../../value/text.js';
import { hidden } from '../request/wire.js';
import type { BodyKind } from './body-kind.js';

export const text: BodyKind = {
  name: 'text',
  about: 'text as it stands, sent as UTF-8',
  compile(spec, { where, loads }) {
    const template = compileTemplate(spec, where([]), loads);
    return (evaluation) => {
      const { result: value, secret, pieces } = evaluation.inPieces(() => template.evaluate(evaluation));
      if (value === omitted) return undefined;
      const sent = textOf(value);
      return {
        bytes: Buffer.from(sent, 'utf8'),
        type: 'text/plain; charset=utf-8',
        shown: secret ? masked(sent, pieces, hidden) : sent,
        secret,
      };
    };
  },
};
