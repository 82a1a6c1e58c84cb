/**
 * A good status, and a body that says no: nothing was expected of the body, and all would be called well. No standard says
 * what the words mean, so they are told and not judged.
 */

import { pathBelow } from '../value/json-path-text.js';
import { writeJson } from '../value/json-text.js';
import { ownMember } from '../value/own-member.js';
import { isValueMap, plain, type Value } from '../value/written.js';
import { verdictInside } from './kinds/errors.js';
import { headerValue, type Observed } from './observed.js';

export interface Contradiction {
  /** The place that says so: `$.success`, `/Result/@code`, `errors`. */
  readonly at: string;
  /** What is there, a text or how many there are. */
  readonly found: string;
}

/** `$.success says false`. */
export const contradictionText = ({ at, found }: Contradiction): string => `${at} says ${found}`;

/** A longer response is data, and not a verdict. */
const longest = 200_000;

/** @param judged what was looked at already: undefined where the body was */
export function contradictionIn(
  response: Observed,
  judged: readonly { readonly place: string }[],
): Contradiction | undefined {
  const { status, size } = response;
  if (status < 200 || status > 299 || size === 0 || size > longest) return undefined;
  for (const { place } of judged) if (/^[$/]|^body$|^errors$/.test(place)) return undefined;
  const type = headerValue(response.headers, 'content-type') ?? '';
  const xml = /[/+]xml\b/i.test(type);
  // What went to a file is not here to be read.
  if ((!xml && !/[/+]json\b/i.test(type)) || response.text === '') return undefined;
  const declared = verdictInside(response, type);
  if (declared.length > 0) return { at: 'errors', found: countText(declared.length) };
  return xml ? inXml(response.text) : inJson(response.json());
}

const flags = /^(?:is[-_ ]?)?(?:success(?:ful)?|succeeded|ok)$/i;
const errors = /^(?:errors?|faults?|failures?|exceptions?)(?:[-_ ]?(?:message|text|description|details?))?$/i;
const outcomes = /^(?:status|result|outcome|verdict)$/i;
const refusals = /^(?:error|failure|denied|unauthori[sz]ed|forbidden|invalid|refused|nok)$/i;
const codes = /^(?:(?:status|error|result|return|response|http)[-_ ]?)?code$|^(?:http[-_ ]?)?status$/i;
const noError = /^(?:|0|none|no|false|null|ok)$/i;

/** Whether a member of that name that holds that value says no. */
function saysNo(name: string, value: Value | undefined): boolean {
  const bare = plain(value);
  if (errors.test(name)) return isSomething(bare);
  if (typeof bare !== 'string' && typeof bare !== 'number' && typeof bare !== 'boolean') return false;
  const text = String(bare).trim();
  return (
    (flags.test(name) && /^(?:false|no)$/i.test(text)) ||
    (outcomes.test(name) && refusals.test(text)) ||
    // The numbers of refusals (RFC 9110, section 15), said by other means.
    (codes.test(name) && /^[45]\d\d$/.test(text))
  );
}

function isSomething(value: unknown): boolean {
  if (Array.isArray(value)) return value.length > 0;
  if (typeof value === 'object') return value !== null && Object.keys(value).length > 0;
  return value !== undefined && !noError.test(String(value).trim());
}

/** Members beside which a verdict stands. */
const holders = /^(?:status|result|response|meta|header|outcome|response)$/i;

/** An error says why, and a flag only that: the first error is told, else the first that says no. */
function inJson(body: Value, at = '$'): Contradiction | undefined {
  if (!isValueMap(body)) return undefined;
  let first: Contradiction | undefined;
  for (const name in body) {
    const value = ownMember(body, name) as Value;
    const here = pathBelow(at, name);
    if (saysNo(name, value)) {
      const own = { at: here, found: foundText(value) };
      if (errors.test(name)) return own;
      first ??= own;
    }
    if (at === '$' && holders.test(name)) first ??= inJson(value, here);
  }
  return first;
}

function foundText(value: Value): string {
  if (Array.isArray(value)) return countText(value.length);
  const bare = isValueMap(value) ? writeJson(value) : String(plain(value));
  return bare.length > 60 ? `${bare.slice(0, 59)}…` : bare;
}

const countText = (count: number): string => `${count} ${count === 1 ? 'error' : 'errors'}`;

/** So many tags are looked at. */
const mostTags = 200;

/** Attributes of the root, and the elements in it that hold text alone. */
function inXml(text: string): Contradiction | undefined {
  let root = '';
  let depth = 0;
  let tags = 0;
  for (const [, closing, name = '', attributes = '', empty, inside = ''] of text.matchAll(
    /<(\/?)(?:[\w.-]+:)?([\w.-]+)((?:\s+[\w:.-]+\s*=\s*(?:"[^"]*"|'[^']*'))*)\s*(\/?)>([^<]*)/g,
  )) {
    tags += 1;
    if (tags > mostTags) return undefined;
    if (closing === '/') {
      depth -= 1;
      continue;
    }
    if (root === '') {
      root = name;
      for (const [, key = '', double, single] of attributes.matchAll(/([\w.-]+)\s*=\s*(?:"([^"]*)"|'([^']*)')/g)) {
        const value = double ?? single ?? '';
        if (saysNo(key, value)) return { at: `/${root}/@${key}`, found: foundText(value) };
      }
    } else if (depth === 1 && saysNo(name, inside.trim())) {
      return { at: `/${root}/${name}`, found: foundText(inside.trim()) };
    }
    if (empty !== '/') depth += 1;
  }
  return undefined;
}
