/**
 * What searches scan, in lower case:
 *
 *     find.txt     a line an operation: its words by kind
 *     shared.txt   a line for what several operations share, such as the schema of a body: who has it, and its words
 */
import type { Describer, Searchable } from './format.js';
import type { Definitions, OperationEntry } from './model.js';
import { lineOf } from './text-lines.js';

/** The columns of `find.txt`; `fields` are the words of each, `written` their names as they are written. */
export const searched = { name: 0, path: 1, summary: 2, group: 3, fields: 4, description: 5, written: 6 } as const;
/** The columns of `shared.txt`; `users` are the numbers of the lines of operations. */
export const sharedColumns = { users: 0, fields: 1, description: 2, written: 3 } as const;

/** More of a description finds what nobody looks for. */
export const longestText = 400;

/** The lines of both files. The second is complete when the first has been written. */
export function searchLines(
  operations: readonly OperationEntry[],
  definitions: Definitions,
  { searchable, searchableShared }: Describer,
): { readonly find: Iterable<string>; readonly shared: Iterable<string> } {
  const users = new Map<string, number[]>();
  function* find(): Generator<string> {
    for (const [number, entry] of operations.entries()) {
      const { shared = [], ...own } = searchable(entry, definitions);
      for (const key of shared) {
        const known = users.get(key);
        if (!known) users.set(key, [number]);
        else if (known.at(-1) !== number) known.push(number);
      }
      const { id, method, path, group, summary = '' } = entry;
      const [fields, description, written] = wordCells(own);
      yield lineOf([
        words(id),
        `${method.toLowerCase()} ${words(path)}`,
        words(summary),
        words(group),
        fields,
        description,
        written,
      ]);
    }
  }
  function* shared(): Generator<string> {
    for (const [key, numbers] of users) {
      const said = searchableShared?.(key, definitions);
      if (said) yield lineOf([numbers.join(' '), ...wordCells(said)]);
    }
  }
  return { find: find(), shared: shared() };
}

const wordCells = ({ fields, description }: Searchable): [string, string, string] => [
  fields.map(fieldWords).join(';'),
  words(description.slice(0, longestText)),
  fields.join(' '),
];

/** Lower-case words; `bookCall` is book and call. */
export function wordsOf(text: string): string[] {
  const found = words(text);
  return found === '' ? [] : found.split(' ');
}

/** The same, with a space between them. */
function words(text: string): string {
  // The patterns for all of Unicode take longer to compile than most searches.
  if (/[^\0-\x7f]/.test(text)) {
    return text
      .replace(/(?<=[\p{Ll}\p{N}])(?=\p{Lu})/gu, ' ')
      .toLowerCase()
      .replace(/[^\p{L}\p{N}]+/gu, ' ')
      .trim();
  }
  return plainWords(text);
}

const lower = (code: number): boolean => (code >= 97 && code <= 122) || (code >= 48 && code <= 57);
const upper = (code: number): boolean => code >= 65 && code <= 90;

/** The same of a text of ASCII, letter by letter: large documents have millions of words. */
function plainWords(text: string): string {
  let found = '';
  let from = -1;
  let afterLower = false;
  for (let at = 0; at <= text.length; at += 1) {
    const code = at < text.length ? text.charCodeAt(at) : 32;
    const isUpper = upper(code);
    const isLower = lower(code);
    if (from >= 0 && ((!isUpper && !isLower) || (isUpper && afterLower))) {
      found += found === '' ? text.slice(from, at) : ` ${text.slice(from, at)}`;
      from = -1;
    }
    if (from < 0 && (isUpper || isLower)) from = at;
    afterLower = isLower;
  }
  return found.toLowerCase();
}

const known = new Map<string, string>();

/** `cargo.notBefore` is found as `notbefore`, as `not` and as `before`; the holders have a line of their own. */
function fieldWords(field: string): string {
  const name = field.slice(field.lastIndexOf('.') + 1);
  let found = known.get(name);
  if (found === undefined) {
    found = [...new Set([name.toLowerCase(), ...wordsOf(name)])].join(' ');
    if (known.size > 20_000) known.clear();
    known.set(name, found);
  }
  return found;
}
