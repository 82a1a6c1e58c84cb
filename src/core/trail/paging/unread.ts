/** Whether the answer to a request that knows of no pages is one of many. */
import { findOperation } from '../../collection/source-index.js';
import type { Sent } from '../sending.js';
import type { Workspace } from '../workspace.js';
import { type FurtherPages, furtherPages } from './further-pages.js';

export const unreadPages = (
  { collection }: Workspace,
  { problems, request, wire, outcome: { received } }: Sent,
): FurtherPages | undefined =>
  received && problems.length === 0
    ? furtherPages(received, () => [...wire.url.searchParams.keys(), ...documentedQuery(collection, request.operation)])
    : undefined;

function documentedQuery(collection: Workspace['collection'], operation: string | undefined): readonly string[] {
  if (operation === undefined) return [];
  try {
    return findOperation(collection, operation)
      .parameters.filter((one) => one.in === 'query')
      .map(({ name }) => name);
  } catch {
    // What is wrong with its name is told by check.
    return [];
  }
}
