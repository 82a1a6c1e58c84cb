/** What the request of `choose-from` offers for an input. */

import type { Named } from '../../core/expression/names.js';
import { noNames } from '../../core/expression/names.js';
import type { Observed } from '../../core/place/observed.js';
import { listAt, type Place } from '../../core/place/place.js';
import { readPlace } from '../../core/place/registry.js';
import { Problem } from '../../core/problem/problem.js';
import { sendRequest } from '../../core/sending/send.js';
import type { Workspace } from '../../core/sending/workspace.js';
import { ownMember } from '../../core/value/own-member.js';
import { listsIn } from '../../core/value/rows.js';
import { textOf } from '../../core/value/text.js';
import { isValueMap, plain, type Value, type ValueMap } from '../../core/value/written.js';

export interface Offered {
  readonly label: string;
  readonly value: Value;
}

/**
 * @param source a request, and a place in its response: `berths/free, $.items[*].code`; without one, the member of the largest list
 * that is called as the input is @throws Problem where nothing can be offered
 */
export async function offeredBy(
  workspace: Workspace,
  source: string,
  input: string,
  given: (input: string) => Named | undefined,
): Promise<readonly Offered[]> {
  const [request = '', text] = source.split(/,\s*(.*)/s);
  const loads: Promise<unknown>[] = [];
  const place = text === undefined ? undefined : readPlace(text, loads);
  await Promise.all(loads);
  const prepared = await workspace.prepare(request);
  if (prepared.plan.changes)
    throw new Problem('change-refused', { what: `${request} changes something, so it is not sent to find choices` });
  const { outcome, problems } = await sendRequest(workspace, prepared, { given, caller: noNames });
  const [first] = problems;
  if (first) throw first;
  const { received } = outcome;
  if (!received) return [];
  const found = place ? atPlace(place, received) : inLargestList(received.json(), input);
  return found
    .filter(({ value }) => value !== undefined && !isValueMap(value) && !Array.isArray(value) && plain(value) !== null)
    .map(({ value, holder }) => ({ value: value as Value, label: labelOf(value as Value, holder) }));
}

interface Found {
  readonly value: Value | undefined;
  /** What says in words what the value is. */
  readonly holder: Value | undefined;
}

function atPlace(place: Place, received: Observed): readonly Found[] {
  const values = listAt(place, received);
  const [, text] = /^(\$.*\[\*\])\.[\w-]+$/.exec(place.text) ?? [];
  const holders = text === undefined ? [] : listAt(readPlace(text, []), received);
  return values.map((value, index) => ({
    value,
    holder: holders.length === values.length ? holders[index] : undefined,
  }));
}

/** @throws Problem place-not-found */
function inLargestList(body: Value, input: string): readonly Found[] {
  const items = (Array.isArray(body) ? (body as readonly Value[]) : listsIn(body)[0]?.items) ?? [];
  const [first] = items;
  const member =
    first !== undefined && isValueMap(first)
      ? [input, 'id', 'code', 'key', 'name'].find((key) => Object.hasOwn(first, key))
      : undefined;
  if (first !== undefined && member === undefined && isValueMap(first))
    throw new Problem('place-not-found', {
      what: `its items have no ${input}`,
      remedy: 'choose-from: "REQUEST, PLACE" names the place of the values',
    });
  return items.map((holder) => ({
    value: member === undefined ? holder : (ownMember(holder as ValueMap, member) as Value),
    holder,
  }));
}

const telling = ['name', 'title', 'label', 'description'];

function labelOf(value: Value, holder: Value | undefined): string {
  const own = isValueMap(value) || Array.isArray(value) ? '' : textOf(value);
  if (!holder || !isValueMap(holder)) return own;
  const words = telling.map((key) => ownMember(holder, key)).find((one) => typeof one === 'string' && one !== own);
  return typeof words === 'string' ? `${own}   ${words}` : own;
}
