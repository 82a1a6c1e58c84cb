/** The addresses in a response: of its headers (RFC 8288), of members that are called links, and of data that looks like one. */

import { linksIn } from '../../place/link-header.js';
import type { Observed } from '../../place/observed.js';
import { pathBelow } from '../../value/json-path-text.js';
import { ownMember } from '../../value/own-member.js';
import { isValueMap, type Value } from '../../value/written.js';

export interface FoundLink {
  /** Absolute. */
  readonly url: string;
  /** Where it stands: `link.next`, `header.location`, `$.places[0].href`. */
  readonly at: string;
  /** What it is called beside it: a relation, a title, a name. */
  readonly about: string | undefined;
}

const most = 500;
/** Members that hold an address, however that looks; `@ref` and `$ref` too. */
const called =
  /^[@$_]?(?:href|url|uri|ref|link|self|next|prev|previous|first|last|location)$|(?:Url|Uri|Link|Href|Ref|[_-](?:url|uri|link|href|ref))$/i;

/** What is an address by its shape: absolute, or a path from the root of more than one letter. */
const shaped = /^https?:\/\/\S+$|^\/(?:[\w.~%@:+,;=-]+\/?)+(?:\?\S*)?$/i;

/** Each address once, in the order in which they stand; the response's own is left out. */
export function linksOf(
  observed: Pick<Observed, 'headers' | 'finalUrl' | 'text'>,
  json: Value | undefined,
): readonly FoundLink[] {
  const found = new Map<string, FoundLink>();
  const own = URL.canParse(observed.finalUrl) ? new URL(observed.finalUrl).href : '';
  const add = (target: string, at: string, about: string | undefined): void => {
    if (found.size >= most || !URL.canParse(target, observed.finalUrl)) return;
    const { href, protocol } = new URL(target, observed.finalUrl);
    if (/^https?:$/.test(protocol) && href !== own && !found.has(href)) found.set(href, { url: href, at, about });
  };
  for (const { target, relations, title } of linksIn(observed.headers))
    add(target, `link.${relations[0] ?? ''}`, title ?? relations.join(' '));
  for (const [name, value] of observed.headers)
    if (/^(?:content-)?location$/i.test(name)) add(value, `header.${name.toLowerCase()}`, undefined);
  if (json !== undefined) inData(json, add);
  else inMarkup(observed.text, add);
  return [...found.values()];
}

type Add = (target: string, at: string, about: string | undefined) => void;

function inData(value: Value, add: Add): void {
  const visit = (here: Value, at: string, key: string, holder: Value): void => {
    if (typeof here === 'string') {
      if (shaped.test(here) || (called.test(key) && /^[^\s<>"{}|\\^`]+$/.test(here)))
        add(here, at, nameBeside(holder) ?? (called.test(key) ? undefined : key));
    } else if (Array.isArray(here)) {
      for (const [index, item] of (here as readonly Value[]).entries()) visit(item, pathBelow(at, index), key, holder);
    } else if (isValueMap(here)) {
      for (const [inner, one] of Object.entries(here)) visit(one, pathBelow(at, inner), inner, here);
    }
  };
  visit(value, '$', '', null);
}

function nameBeside(holder: Value): string | undefined {
  if (!isValueMap(holder)) return undefined;
  const key = ['rel', 'title', 'name', 'label', 'id'].find((one) => typeof ownMember(holder, one) === 'string');
  return key === undefined ? undefined : (ownMember(holder, key) as string);
}

function inMarkup(text: string, add: Add): void {
  for (const found of text.matchAll(
    /<([\w:-]+)[^<>]*?\s(href|src|action)\s*=\s*(?:"([^"]*)"|'([^']*)')[^<>]*>([^<]*)/gi,
  )) {
    const [, element = '', attribute = '', double, single, inside = ''] = found;
    const target = (double ?? single ?? '').replaceAll('&amp;', '&');
    if (target !== '' && !target.startsWith('#')) add(target, `${element} ${attribute}`, inside.trim() || undefined);
  }
}
