/**
 * A GET or HEAD carries no body (RFC 9110 section 9.3.1: content there has no defined meaning).
 *
 *     method: GET
 *     body: {json: {}}      # does not hold
 */
import { methodWritten } from '../../collection/files/request-file.js';
import { bodyWarning } from '../../sending/judging/warnings.js';
import type { Rule } from '../rule.js';

export const noBodyInGet: Rule = {
  name: 'no-body-in-get',
  must: 'a GET or HEAD carries no body',
  *check({ requests }) {
    for (const { content, yaml } of requests.values()) {
      const method = methodWritten(content);
      const what = content.body === undefined || method === undefined ? undefined : bodyWarning(method);
      if (what === undefined) continue;
      const where = content.method === undefined ? yaml.position(['body'], 'key') : yaml.position(['method']);
      yield {
        severity: 'warning',
        where,
        what,
        remedy:
          content.method === undefined
            ? 'no method is written, which means GET: was method: POST meant?'
            : 'was method: POST meant?',
      };
    }
  },
};
