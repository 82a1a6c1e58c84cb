/** Where a later request repeats a value of an earlier response: a guess, by which the steps of a trail are chained. */
import { pathBelow } from '../../value/json-path-text.js';
import { parseJson } from '../../value/json-text.js';
import { textOf } from '../../value/text.js';
import { isValueMap, plain, type Value } from '../../value/written.js';
import type { ForeignResponse } from '../foreign/request.js';

export interface Found {
  /** Of the request whose response has it. */
  readonly step: number;
  readonly place: string;
  /** What it is called there. */
  readonly name: string;
  /** What is done with it where it is given. */
  readonly filter?: string;
}

/** Leaves of one response; more are no hint but a table. */
const mostLeaves = 5000;
/** Shorter texts come again by chance. */
const leastLength = 3;

export class ResponseValues {
  private readonly found = new Map<string, Found>();
  private readonly sent = new Map<string, number>();

  /** A value that a request carries: it does not come from a response that follows. */
  carried(value: Value, step: number): void {
    const text = distinctive(value);
    if (text !== undefined && !this.found.has(text) && !this.sent.has(text)) this.sent.set(text, step);
  }

  add(response: ForeignResponse | undefined, step: number): void {
    if (!response) return;
    let left = mostLeaves;
    const visit = (value: Value, place: string, name: string): void => {
      if (left <= 0) return;
      if (Array.isArray(value))
        for (const [index, item] of (value as readonly Value[]).entries()) visit(item, pathBelow(place, index), name);
      else if (isValueMap(value))
        for (const [key, item] of Object.entries(value)) visit(item, pathBelow(place, key), key);
      else {
        left -= 1;
        this.note(value, { step, place, name });
      }
    };
    const value = jsonOf(response.text);
    if (value !== undefined) visit(value, '$', '');
    for (const [name, value] of response.headers) {
      if (!/^location$/i.test(name)) continue;
      const last = value
        .split(/[?#]/)[0]
        ?.split('/')
        .filter((part) => part !== '')
        .at(-1);
      if (last !== undefined)
        this.note(last, { step, place: 'header.location', name: 'location', filter: 'last-segment' });
    }
  }

  /** The first response that says it is where it comes from; others repeat it. */
  private note(value: Value, found: Found): void {
    const text = distinctive(value);
    if (text === undefined || this.sent.has(text)) return;
    if (!this.found.has(text)) this.found.set(text, found);
  }

  where(value: Value): Found | undefined {
    const text = distinctive(value);
    return text === undefined ? undefined : this.found.get(text);
  }
}

function jsonOf(text: string | undefined): Value | undefined {
  if (text === undefined || !/^\s*[{["]/.test(text)) return undefined;
  try {
    return parseJson(text);
  } catch {
    return undefined;
  }
}

/** A value that is hardly the same by chance. */
function distinctive(value: Value): string | undefined {
  const bare = plain(value);
  if (typeof bare !== 'string' && typeof bare !== 'number') return undefined;
  const text = textOf(value);
  return text.length >= leastLength && text.length <= 4000 && /\d|.{12}/.test(text) ? text : undefined;
}
