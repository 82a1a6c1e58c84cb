/** `json`: any value as JSON (RFC 8259); numbers keep their digits. */
import { omitted } from '../../expression/evaluation.js';
import { compileTree, replacedAt, type SecretTrace } from '../../expression/tree.js';
import { writeJson } from '../../value/json-text.js';
import { hidden } from '../request/wire.js';
import type { BodyKind } from './body-kind.js';

export const json: BodyKind = {
  name: 'json',
  about: 'any value, sent as JSON; numbers stay numbers and keep their digits',
  compile(spec, { where, loads }) {
    const tree = compileTree(spec, where, loads);
    return (evaluation) => {
      const trace: SecretTrace = { path: [], secret: [] };
      const value = tree.evaluate(evaluation, trace);
      if (value === omitted) return undefined;
      const text = writeJson(value);
      const secret = trace.secret.length > 0;
      return {
        bytes: Buffer.from(text, 'utf8'),
        type: 'application/json',
        shown: secret ? writeJson(replacedAt(value, trace.secret, hidden)) : text,
        secret,
      };
    };
  },
};
