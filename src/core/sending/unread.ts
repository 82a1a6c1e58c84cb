/** Whether the response to a request that knows of no pages is one of many. */

import { type FurtherPages, furtherPages } from '../paging/further-pages.js';
import { documentedQuery } from './judging/documented.js';
import type { Sent } from './sending.js';
import type { Workspace } from './workspace.js';

export const unreadPages = (
  workspace: Workspace,
  { problems, request, wire, outcome: { received } }: Sent,
): FurtherPages | undefined =>
  received && problems.length === 0
    ? furtherPages(received, () => [...wire.url.searchParams.keys(), ...documentedQuery(workspace, request.operation)])
    : undefined;
