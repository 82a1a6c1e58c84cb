/** Which differences count: places that may differ, and places that alone are looked at. */
import type { Difference } from './difference.js';

/** What of a comparison counts. */
export interface Counting {
  readonly ignoring?: readonly string[] | undefined;
  /** Where it is given, nothing else counts. */
  readonly only?: readonly string[] | undefined;
}

/** A place given stands for all below it too; `[*]` for any item. In XPath a step without `[ ]` is any of that name. */
export function counting(
  found: readonly Difference[],
  ignoring: readonly string[] = [],
  onlyAt: readonly string[] = [],
): readonly Difference[] {
  const [left, wanted] = [ignoring.map(covering), onlyAt.map(covering)];
  return found.filter(
    ({ at }) => !left.some((covers) => covers(at)) && (wanted.length === 0 || wanted.some((covers) => covers(at))),
  );
}

/** Whether a place is the given one, or below it. */
export const covering = (place: string): ((at: string) => boolean) => patternOf(place, '(?:$|[.[/])');

/** Whether a place is the given one. */
export const exactly = (place: string): ((at: string) => boolean) => patternOf(place, '$');

/** What stands between brackets, a quoted text in it whole: a number, or a key such as `?@.code == "N1"`, `@number = "7"`. */
const bracketed = String.raw`(?:"(?:[^"\\]|\\.)*"|[^\]"])*`;

/** By its number or by its key; `['name']` is the name of a member. */
const anyItem = String.raw`\[(?!')${bracketed}\]`;

const predicates = new RegExp(anyItem, 'g');

function patternOf(given: string, end: string): (at: string) => boolean {
  const place = given.trim();
  const xpath = place.startsWith('/');
  const escaped = place
    .replace(/^\/\//, '\u0000')
    .replace(/[$()+./?\\^{|}[\]]/g, '\\$&')
    .replaceAll('\\[*\\]', '\u0001')
    .replaceAll('*', xpath ? '[^/]+' : '\\*')
    .replaceAll('\u0001', anyItem)
    .replace('\u0000', '(?:/.*)?/');
  const anyOfName = xpath && !place.includes('[');
  // Of all places only the names of headers are the same in capital and in small letters.
  const pattern = new RegExp(`^${escaped}${end}`, /^header\./i.test(place) ? 'i' : '');
  return (at) => pattern.test(anyOfName ? at.replace(predicates, '') : at);
}
