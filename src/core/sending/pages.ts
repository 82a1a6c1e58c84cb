/** The pages of a request, one after the other, as they come. */
import { createHash } from 'node:crypto';
import type { Received } from '../exchange/response/received.js';
import { judge } from '../expectation/expectations.js';
import type { Kept } from '../expectation/keeps.js';
import { Evaluation } from '../expression/evaluation.js';
import { noNames } from '../expression/names.js';
import type { NextPage } from '../paging/page-kind.js';
import type { PagesPlan } from '../paging/pages-plan.js';
import { asProblem, Problem } from '../problem/problem.js';
import { writeJson } from '../value/json-text.js';
import { isValueMap, plain, type Value } from '../value/written.js';
import type { PreparedRequest } from './prepare.js';
import { sendRequest } from './send.js';
import type { Sending, Sent } from './sending.js';
import type { Workspace } from './workspace.js';

/** How far the pages were read. */
export interface PageCount {
  readonly pages: number;
  readonly items: number;
  /** What the server said there are altogether. */
  readonly total: number | undefined;
  /** Why not all of them were read; undefined where they were. */
  readonly partial: string | undefined;
  /** Why the first page may not be the only one, although nothing leads on from it. */
  readonly doubt?: string | undefined;
}

export interface Page {
  readonly sent: Sent;
  readonly items: readonly Value[];
  readonly count: PageCount;
  /** No further page is asked for. */
  readonly last: boolean;
}

/**
 * The last page says whether all were read. A page that fails is the last one, and its problems are in `sent`.
 * @param most in place of the request's own limit
 * @throws Problem: whatever keeps a request from being sent
 */
export async function* pagesOf(
  workspace: Workspace,
  prepared: PreparedRequest,
  sending: Sending,
  most?: number,
): AsyncGenerator<Page> {
  const plan = prepared.pages as PagesPlan;
  const asked = new Set<string>();
  let next: NextPage;
  let before = '';
  let [pages, count] = [0, 0];
  let total: number | undefined;
  for (;;) {
    const sent = await sendRequest(workspace, prepared, turned(sending, next));
    if (workspace.dryRun) {
      yield {
        sent,
        items: [],
        count: { pages: 0, items: 0, total: undefined, partial: 'nothing was sent' },
        last: true,
      };
      return;
    }
    try {
      const { page, following } = await pageOf(sent);
      yield page;
      if (page.last) return;
      next = following;
    } catch (error) {
      // The response is there, whatever is wrong with it.
      const problem = asProblem(error);
      const facts = { pages, items: count, total, partial: problem.what };
      yield { sent: { ...sent, problems: [...sent.problems, problem] }, items: [], count: facts, last: true };
      return;
    }
  }

  async function pageOf(sent: Sent): Promise<{ readonly page: Page; readonly following: NextPage }> {
    const received = sent.outcome.received;
    const usable = received !== undefined && sent.problems.length === 0;
    const items = usable ? itemsIn(plan, received) : [];
    pages += 1;
    count += items.length;
    if (usable) total = totalIn(plan, received) ?? total;
    const facts = { pages, items: count, total };
    if (!usable) {
      const page = { sent, items, count: { ...facts, partial: `page ${pages} failed` }, last: true };
      return { page, following: undefined };
    }
    const digest = items.length === 0 ? '' : createHash('sha256').update(writeJson(items)).digest('base64');
    const same = digest !== '' && digest === before;
    before = digest;
    const { next: following, missing } = same
      ? { next: undefined, missing: undefined }
      : await nextOf(plan, received, items.length, facts, workspace);
    const key = following && JSON.stringify('address' in following ? following.address : plain(following.value));
    if (same || (key !== undefined && asked.has(key))) {
      throw new Problem('pages-loop', {
        what: same
          ? `page ${pages} of ${prepared.plan.name} is the same as the page before it`
          : `page ${pages} of ${prepared.plan.name} leads to one that was read already`,
        cause: 'the vendor does not take the page that it is asked for, or names the wrong next one',
        remedy: `does the request send what its pages give to it? ${count} items were read${total === undefined ? '' : ` of ${total}`}`,
      });
    }
    if (key !== undefined) asked.add(key);
    const limited = following !== undefined && pages >= (most ?? plan.most);
    const short = following === undefined && total !== undefined && count < total;
    const partial = limited
      ? `no more than ${pages} ${pages === 1 ? 'page was' : 'pages were'} asked for`
      : short
        ? (missing ?? 'the vendor named no further page')
        : missing !== undefined && plan.following.length > 0
          ? `while: says that there is more, and ${missing}`
          : undefined;
    // On later pages a vendor that leaves out what it does not have has come to its end.
    const doubt = partial === undefined && pages === 1 && items.length > 0 ? missing : undefined;
    const page = { sent, items, count: { ...facts, partial, doubt }, last: following === undefined || limited };
    return { page, following };
  }
}

/** The same sending, for another page. */
function turned(sending: Sending, next: NextPage): Sending {
  if (!next) return sending;
  if ('address' in next) return { ...sending, address: next.address };
  const { input, value } = next;
  return {
    ...sending,
    given: (name) => (name === input ? { value, origin: 'the page before' } : sending.given(name)),
  };
}

/** @throws Problem place-not-found: no list is there */
function itemsIn({ items }: PagesPlan, received: Received): readonly Value[] {
  const nodes = items.nodes?.(received);
  if (nodes) return nodes;
  const found = items.find(received);
  if (Array.isArray(found)) return found as readonly Value[];
  const near = found === undefined ? items.near(received) : undefined;
  throw new Problem('place-not-found', {
    what: `there is no list of items at ${items.text}`,
    remedy: near === undefined ? 'correct items: in pages' : `nearest: ${near}`,
  });
}

function totalIn({ total }: PagesPlan, received: Received): number | undefined {
  const found = total?.find(received);
  const number = found === undefined || isValueMap(found) ? Number.NaN : Number(plain(found));
  return Number.isFinite(number) ? number : undefined;
}

interface Following {
  readonly next: NextPage;
  /** What stands nowhere in the response although it would name the next page. */
  readonly missing?: string | undefined;
}

async function nextOf(
  plan: PagesPlan,
  received: Received,
  own: number,
  { pages, items, total }: Omit<PageCount, 'partial'>,
  workspace: Workspace,
): Promise<Following> {
  const none = { next: undefined };
  if (!plan.told && (own === 0 || (plan.size !== undefined && own < plan.size))) return none;
  if (!plan.told && total !== undefined && items >= total) return none;
  if (plan.following.length > 0) {
    const evaluationContext = workspace.evaluationContext();
    const evaluation = new Evaluation(noNames, evaluationContext);
    const verdicts = await judge(plan.following, received, evaluation, { documented: () => undefined });
    if (!verdicts.every(({ ok }) => ok)) return none;
  }
  const next = plan.next({ received, pages, items });
  if (next || plan.from?.find(received) !== undefined) return { next };
  // All that were announced have come.
  if (!plan.from || (total !== undefined && items >= total)) return none;
  const near = plan.from.near(received);
  return { next, missing: `there is nothing at ${plan.from.text}${near === undefined ? '' : ` (nearest: ${near})`}` };
}

/** What is kept of pages: lists are joined, anything else is of the last page. */
export function gathered(before: ReadonlyMap<string, Kept>, kept: readonly Kept[]): Map<string, Kept> {
  const all = new Map(before);
  for (const one of kept) {
    const first = before.get(one.name);
    const both = first && Array.isArray(first.value) && Array.isArray(one.value);
    all.set(one.name, both ? { ...one, value: [...(first.value as Value[]), ...(one.value as Value[])] } : one);
  }
  return all;
}
