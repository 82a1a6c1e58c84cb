/**
 * A GraphQL document fits the schema of its source.
 *
 *     operation: pilots/pilot
 *     body: {graphql: {document: "query ($id: ID!) { pilot(id: $id) { name } }"}}     # holds
 */

import { readSource } from '../../collection/sources/indexing.js';
import { action } from '../../problem/actions.js';
import { operationOf } from '../operation-of.js';
import type { Rule } from '../rule.js';
import { positionInText } from '../text-position.js';

export const documentsFit: Rule = {
  name: 'documents-fit',
  must: 'a GraphQL document fits the schema of its source',
  async *check(checked) {
    for (const request of checked.requests.values()) {
      const { body } = request.content;
      const operation = operationOf(checked, request);
      if (!operation?.graphql || !body || !('graphql' in body)) continue;
      const { documentFaults } = await import('../../documentation/formats/graphql/validate.js');
      const { main } = await readSource(checked.collection, operation.source);
      for (const { what, line } of documentFaults(body.graphql.document, main)) {
        yield {
          severity: 'error',
          where: positionInText(request.yaml, ['body', 'graphql', 'document'], line),
          what: `the document does not fit the schema: ${what}`,
          remedy: action().showOperation(`${operation.source}/${operation.id}`),
        };
      }
    }
  },
};
