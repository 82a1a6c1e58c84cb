/** Page one taken for everything: what tells that the list in a response goes on elsewhere, though its request does not say so. */
import { linksIn } from '../place/link-header.js';
import { headerValue, type Observed } from '../place/observed.js';
import { pathBelow } from '../value/json-path-text.js';
import { isValueMap, plain, type Value, type ValueMap } from '../value/written.js';

export interface FurtherPages {
  /** The place of the list. */
  readonly items: string;
  /** How many items it has. */
  readonly count: number;
  /** How many there are altogether, where the response says so, and the place where. */
  readonly total: { readonly at: string; readonly number: number } | undefined;
  /** How the next page is asked for, by its key in `pages`: what is at a place, or a parameter of the request. */
  readonly lead:
    | { readonly key: 'next'; readonly at: string }
    | { readonly key: 'cursor'; readonly at: string }
    | { readonly key: 'number' | 'offset'; readonly input: string }
    | undefined;
  /** The place of a plain yes: there is more. */
  readonly more: string | undefined;
}

/** Lists stand no deeper below what surrounds a page. */
const deepest = 3;

/** A response that is longer is not looked into. */
const longest = 2e6;

const nextNames = /^next(?:[-_ ]?(?:page|url|uri|link|href))?$/i;
const cursorNames = /^(?:(?:next|end)[-_ ]?)?cursor$|^(?:next|continuation)[-_ ]?(?:page[-_ ]?)?token$/i;
const moreNames = /^(?:has[-_ ]?)?(?:more|next)(?:[-_ ]?(?:pages?|items|results))?$/i;
const clearTotals =
  /^total[-_ ]?(?:count|items|results|records|entries|elements|number)$|^(?:item|result|record)s?[-_ ]?count$/i;
/** What stands around a page and nothing else: beside these a bare `total` is the number of items, not a sum of money. */
const pageWords =
  /^(?:total|count|size|limit|offset|start|skip|page|pages|per[-_ ]?page|page[-_ ]?\w+|\w*cursor|\w*token|has[-_ ]?\w+|more|self|first|last|next|prev|previous|_?links?|paging|pagination|meta|query|sort|order|took|time|timestamp|ok|success|errors?|warnings?|message|version|request[-_ ]?id)$/i;
/** Members that hold what is said about pages one level down. */
const holders = /^(?:_?links?|paging|pagination|pages?|page[-_ ]?info|cursors?|meta)$/i;

/**
 * @param parameters names of the query parameters that the request has or may have
 * @returns undefined where nothing tells so
 */
export function furtherPages(response: Observed, parameters: () => Iterable<string>): FurtherPages | undefined {
  if (response.status >= 300 || response.size > longest || !/^\s*[[{]/.test(response.text.slice(0, 100)))
    return undefined;
  let body: Value;
  try {
    body = response.json();
  } catch {
    return undefined;
  }
  const linked = linksIn(response.headers).some(({ relations }) => relations.includes('next'));
  const page = pageIn(body, '$', 0);
  if (!page) return undefined;
  const counted = totalOf(response.headers) ?? page.total;
  const total = counted && counted.number > page.count ? counted : undefined;
  const lead = linked ? ({ key: 'next', at: 'link.next' } as const) : page.lead;
  if (!lead && !total && !page.more) return undefined;
  return { ...page, total, lead: lead ?? turnedBy(parameters()) };
}

/** The parameter that turns the pages. */
function turnedBy(parameters: Iterable<string>): FurtherPages['lead'] {
  const names = [...parameters];
  const offset = names.find((name) => /^(?:offset|skip)$/i.test(name));
  if (offset !== undefined) return { key: 'offset', input: offset };
  const number = names.find((name) => /^page(?:[-_ ]?(?:number|no))?$/i.test(name));
  return number === undefined ? undefined : { key: 'number', input: number };
}

/** The outermost list that something is said about; of a bare list nothing is, but in the headers. */
function pageIn(here: Value, at: string, depth: number): FurtherPages | undefined {
  if (Array.isArray(here))
    return depth === 0 && here.length > 0
      ? { items: at, count: here.length, total: undefined, lead: undefined, more: undefined }
      : undefined;
  if (!isValueMap(here) || depth > deepest) return undefined;
  const lists = Object.entries(here).filter(([, inner]) => Array.isArray(inner));
  const ofMaps = lists.filter(([, inner]) => (inner as readonly Value[]).every(isValueMap));
  // Of two lists of the same kind nobody can tell which one is meant.
  const [list] = lists.length === 1 ? lists : ofMaps.length === 1 ? ofMaps : [];
  if (list) return around(here, at, list[0], list[1] as readonly Value[]);
  for (const [key, inner] of Object.entries(here)) {
    const found = isValueMap(inner) ? pageIn(inner, pathBelow(at, key), depth + 1) : undefined;
    if (found) return found;
  }
  return undefined;
}

function around(map: ValueMap, at: string, key: string, list: readonly Value[]): FurtherPages | undefined {
  if (list.length === 0) return undefined;
  const said = saidBeside(map, at);
  const bare = Object.entries(map).every(([name]) => name === key || pageWords.test(name));
  const more = said.find(({ name, value }) => moreNames.test(name) && typeof value === 'boolean');
  const next = said.find(({ name, value }) => nextNames.test(name) && isAddress(value));
  const cursor = said.find(({ name, value }) => cursorNames.test(name) && isToken(value));
  const total = said.find(
    ({ name, value }) => (clearTotals.test(name) || (bare && /^total$/i.test(name))) && Number.isInteger(value),
  );
  const lead = next ? ({ key: 'next', at: next.at } as const) : cursor && ({ key: 'cursor', at: cursor.at } as const);
  return {
    items: pathBelow(at, key),
    count: list.length,
    total: total && { at: total.at, number: total.value as number },
    // A response that says that this was all is believed.
    lead: more?.value === false ? undefined : lead,
    more: more?.value === true ? more.at : undefined,
  };
}

interface Said {
  readonly name: string;
  readonly at: string;
  readonly value: unknown;
}

/** Scalars beside the list, and one level down where the name says that they are about pages. */
function saidBeside(map: ValueMap, at: string): readonly Said[] {
  return Object.entries(map).flatMap(([name, value]): Said[] => {
    const here = pathBelow(at, name);
    if (Array.isArray(value)) return [];
    if (!isValueMap(value)) return [{ name, at: here, value: plain(value) }];
    if (!holders.test(name)) return [];
    return Object.entries(value).flatMap(([inner, one]): Said[] => {
      const below = pathBelow(here, inner);
      // Links are written as maps, too, with the address in `href`.
      const held = isValueMap(one) && typeof one.href === 'string';
      return held
        ? [{ name: inner, at: pathBelow(below, 'href'), value: one.href }]
        : [{ name: inner, at: below, value: plain(one) }];
    });
  });
}

/** Whole or relative (RFC 3986, section 4.2); a mere word is none. */
const isAddress = (value: unknown): boolean => typeof value === 'string' && /^\S*[/?]\S*$/.test(value);

const isToken = (value: unknown): boolean => typeof value === 'string' && value.trim() !== '';

/** In a header: a range of items (RFC 9110, section 14.4), or a count of all. */
function totalOf(headers: Observed['headers']): FurtherPages['total'] {
  const range = /^(?!bytes\b)[\w-]+\s+\d+-\d+\/(\d+)$/i.exec(headerValue(headers, 'content-range') ?? '');
  if (range) return { at: 'header.content-range', number: Number(range[1]) };
  for (const [name, value] of headers)
    if (/^(?:x-)?total(?:-count)?$/i.test(name) && /^\d+$/.test(value.trim()))
      return { at: `header.${name.toLowerCase()}`, number: Number(value) };
  return undefined;
}

/** `pages:` for a request file, as far as the response tells; undefined where it does not say how to go on. */
export function pagesBlock({ items, total, lead, more }: FurtherPages): string | undefined {
  if (!lead) return undefined;
  const goesOn = lead.key === 'cursor' && more !== undefined ? `, while: {${quoted(more)}: true}` : '';
  // Of a range the place holds more than the number.
  const sum = total && total.at !== 'header.content-range' ? `, total: ${quoted(total.at)}` : '';
  return `pages: {items: ${quoted(items)}, ${lead.key}: ${wayText(lead)}${goesOn}${sum}}`;
}

function wayText(lead: NonNullable<FurtherPages['lead']>): string {
  if (lead.key === 'next') return quoted(lead.at);
  return lead.key === 'cursor' ? `{input: after, from: ${quoted(lead.at)}}` : `{input: ${quoted(lead.input)}}`;
}

/** In a flow mapping a place with brackets or a comma needs quotes. */
const quoted = (place: string): string => (/[[\]{},:#'"]/.test(place) ? JSON.stringify(place) : place);
