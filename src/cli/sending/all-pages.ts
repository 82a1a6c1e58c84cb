/** `send --pages`: the pages of a request as one response, whose body is the list of all their items. */
import { Received } from '../../core/exchange/response/received.js';
import type { Kept } from '../../core/expectation/keeps.js';
import { Problem } from '../../core/problem/problem.js';
import { gathered, type PageCount, pagesOf } from '../../core/sending/pages.js';
import type { PreparedRequest } from '../../core/sending/prepare.js';
import { sendRequest } from '../../core/sending/send.js';
import type { Sending, Sent } from '../../core/sending/sending.js';
import type { Workspace } from '../../core/sending/workspace.js';
import { writeJson } from '../../core/value/json-text.js';
import type { Value } from '../../core/value/written.js';
import { wholeNumber } from '../options/whole-number.js';
import type { Terminal } from '../terminal/terminal.js';

export interface SentPages {
  readonly sent: Sent;
  /** undefined of a request without pages. */
  readonly count: PageCount | undefined;
}

/** @param pages `all`, or so many; undefined for the first alone, as it came @throws Problem usage: the request has no pages */
export async function sendPages(
  workspace: Workspace,
  prepared: PreparedRequest,
  sending: Sending,
  pages: string | undefined,
  terminal: Terminal,
): Promise<SentPages> {
  const most = pages === undefined ? 1 : pages === 'all' ? undefined : wholeNumber(pages, '--pages', { least: 1 });
  if (!prepared.pages) {
    if (pages === undefined) return { sent: await sendRequest(workspace, prepared, sending), count: undefined };
    throw new Problem('usage', {
      what: `--pages: the request ${prepared.plan.name} does not say how its pages are asked for`,
      remedy: 'pages: in the request file says so',
    });
  }
  const items: Value[] = [];
  let kept = new Map<string, Kept>();
  for await (const page of pagesOf(workspace, prepared, sending, most)) {
    for (const item of page.items) items.push(item);
    kept = gathered(kept, page.sent.kept);
    const { total } = page.count;
    if (!page.last)
      terminal.progress(`page ${page.count.pages}: ${items.length}${total === undefined ? '' : ` of ${total}`} items`);
    else if (pages === undefined) return { sent: page.sent, count: page.count };
    else return { sent: { ...listed(page.sent, items), kept: [...kept.values()] }, count: page.count };
  }
  throw new Problem('fault', { what: 'pages ended without a last one' });
}

/** The last response with all items as its body; one that failed stays as it is. */
function listed(sent: Sent, items: readonly Value[]): Sent {
  const { received } = sent.outcome;
  if (!received || sent.problems.length > 0) return sent;
  const { parts } = received;
  const headers = parts.headers.map(([name, value]): readonly [string, string] =>
    name.toLowerCase() === 'content-type' ? [name, 'application/json'] : [name, value],
  );
  const body = Buffer.from(writeJson(items));
  return { ...sent, outcome: { ...sent.outcome, received: new Received({ ...parts, headers, body }) } };
}
