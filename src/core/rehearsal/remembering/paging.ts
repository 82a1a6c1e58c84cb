/** A list cut as the parameters of its operation ask: by a limit, an offset, a page, or a cursor. */
import type { Operation, Parameter } from '../../documentation/model/model.js';
import { ownMember } from '../../value/own-member.js';
import { isValueMap, type Value, type ValueMap } from '../../value/written.js';
import { memberAt, withMember } from './memory.js';

const limitName = /^(?:limit|(?:page|per)[_-]?size|size|per[_-]?page|count|top|max[_-]?(?:results|items)|\$top)$/i;
const offsetName = /^(?:offset|skip|start(?:[_-]?(?:at|index))?|from|\$skip)$/i;
const pageName = /^(?:page|page[_-]?(?:number|index|no))$/i;
const cursorName = /cursor|^(?:after|starting[_-]?after|next|marker)$|(?:page|continuation|next)[_-]?token/i;
const totalName = /^(?:total|total[_-]?(?:count|items|results|size)|count|found)$/i;
const nextName = /^next$|next[_-]?(?:cursor|token|page[_-]?token)|^cursor$|^marker$/i;
const moreName = /^has[_-]?(?:more|next|next[_-]?page)$/i;

/** The place of the list in a response: the response itself, or the first member that is a list of objects. */
export function listPath(value: Value): readonly string[] | undefined {
  if (Array.isArray(value)) return [];
  if (!isValueMap(value)) return undefined;
  for (const [name, inner] of Object.entries(value)) {
    if (Array.isArray(inner) && inner.every((one) => isValueMap(one as Value))) return [name];
    const deeper = isValueMap(inner) ? listPath(inner) : undefined;
    if (deeper !== undefined) return [name, ...deeper];
  }
  return undefined;
}

/** @param items all of them @param address of the list, without its query */
export function paged(
  response: Value,
  path: readonly string[],
  items: readonly ValueMap[],
  { parameters }: Operation,
  query: URLSearchParams,
  address: string,
): Value {
  const named = (name: RegExp): Parameter | undefined =>
    parameters.find((one) => one.in === 'query' && name.test(one.name));
  const given = (name: RegExp): string | undefined => {
    const parameter = named(name);
    const fallback = parameter?.default === undefined ? undefined : String(parameter.default);
    return parameter && (query.get(parameter.name) ?? fallback);
  };
  const whole = (text: string | undefined): number | undefined =>
    text !== undefined && /^\d+$/.test(text) ? Number(text) : undefined;
  const limit = whole(given(limitName)) ?? items.length;
  const first = named(pageName);
  const page = whole(given(pageName));
  // Pages are counted from 1 but where the documentation begins at 0.
  const base = first?.default === 0 || first?.limits?.['at-least'] === 0 ? 0 : 1;
  const start =
    whole(given(offsetName)) ??
    (page === undefined ? cursorStart(given(cursorName)) : Math.max(0, page - base) * limit);
  const shown = items.slice(start, start + limit);
  const end = start + shown.length;
  const cut = withMember(response, path, shown as unknown as Value);
  if (!isValueMap(cut)) return cut;
  const more = end < items.length && shown.length > 0;
  const onward = new URLSearchParams(query);
  const [offset, cursor] = [named(offsetName), named(cursorName)];
  if (offset) onward.set(offset.name, String(end));
  else if (first) onward.set(first.name, String((page ?? base) + 1));
  else if (cursor) onward.set(cursor.name, cursorOf(end));
  const next = more ? { cursor: cursorOf(end), address: `${address}?${onward}` } : undefined;
  return withFacts(cut, { total: items.length, next });
}

const cursorOf = (start: number): string => Buffer.from(`from ${start}`).toString('base64url');

function cursorStart(cursor: string | undefined): number {
  const [, start] = /^from (\d+)$/.exec(Buffer.from(cursor ?? '', 'base64url').toString('utf8')) ?? [];
  return Number(start ?? 0);
}

interface Facts {
  readonly total: number;
  /** Undefined on the last page. */
  readonly next: { readonly cursor: string; readonly address: string } | undefined;
}

/** What a response says of the whole beside its list. */
function withFacts(response: ValueMap, facts: Facts): ValueMap {
  const made: Record<string, Value> = {};
  for (const [name, value] of Object.entries(response)) {
    if (typeof value === 'number' && totalName.test(name)) made[name] = facts.total;
    else if (typeof value === 'boolean' && moreName.test(name)) made[name] = facts.next !== undefined;
    else if (nextName.test(name) && (typeof value === 'string' || value === null)) {
      if (facts.next) made[name] = /^https?:|^\//.test(String(value)) ? facts.next.address : facts.next.cursor;
    } else made[name] = isValueMap(value) && memberAt(response, [name]) !== undefined ? withFacts(value, facts) : value;
  }
  return made;
}

/** A query that asks for certain values: what was made up has them. */
export function asAsked(item: ValueMap, query: URLSearchParams): ValueMap {
  const made: Record<string, Value> = { ...item };
  for (const [name, text] of query) {
    const own = ownMember(item, name);
    if (typeof own === 'string') made[name] = text;
    else if (typeof own === 'boolean' && /^(?:true|false)$/.test(text)) made[name] = text === 'true';
    else if (typeof own === 'number' && /^-?\d+(?:\.\d+)?$/.test(text)) made[name] = Number(text);
  }
  return made;
}

/** Whether what was made by a request is among what a query asks for. */
export const isAsked = (item: ValueMap, query: URLSearchParams): boolean =>
  [...query].every(([name, text]) => {
    const own = ownMember(item, name);
    return own === undefined || typeof own === 'object' || String(own) === text;
  });
