/**
 * What searches scan, in lower case:
 *
 *     find.txt          a line an operation: what it is called, and its fields
 *     said.txt          a line an operation: the words of its description
 *     shared.txt        a line for what several operations share, such as the schema of a body: who has it, and its fields
 *     shared-said.txt   the words of its description
 */
import type { Describer, Searchable } from '../formats/format.js';
import type { Definitions, OperationEntry } from '../model/model.js';
import { cellText } from '../reading/text-lines.js';

/**
 * The columns of `find.txt`: the number of the operation, where its line in `list.txt` stands, in bytes, and its words by kind;
 * `fields` are the words of each, `written` their names as they are written. `said.txt` has the number, where its line in
 * `find.txt` stands, in bytes, and the words.
 */
export const searched = { number: 0, place: 1, name: 2, path: 3, summary: 4, group: 5, fields: 6, written: 7 } as const;
/** The columns of `shared.txt`; `users` are numbers of operations. `shared-said.txt` has the users and the words. */
export const sharedColumns = { users: 0, fields: 1, written: 2 } as const;
export const saidColumn = 2;
export const sharedSaidColumn = 1;

/** More of a description finds what nobody looks for. */
export const longestText = 240;

/** The lines of the files, by their names. The others are complete when the first has been written. */
export function searchLines(
  operations: readonly OperationEntry[],
  listPlaces: readonly number[],
  definitions: Definitions,
  { searchable, searchableShared }: Describer,
): Readonly<Record<string, Iterable<string>>> {
  const users = new Map<string, number[]>();
  const said: string[] = [];
  const sharedSaid: string[] = [];
  function* find(): Generator<string> {
    let at = 0;
    for (const [number, entry] of operations.entries()) {
      const { shared = [], ...own } = searchable(entry, definitions);
      for (const key of shared) {
        const known = users.get(key);
        if (!known) users.set(key, [number]);
        else if (known.at(-1) !== number) known.push(number);
      }
      const { id, method, path, group, summary = '' } = entry;
      const [fields, description, written] = wordCells(own);
      const called = `${words(id)}\t${method.toLowerCase()} ${words(path)}\t${words(summary)}\t${words(group)}`;
      said.push(`${number}\t${at}\t${description}\n`);
      const line = `${number}\t${listPlaces[number]}\t${called}\t${fields}\t${written}\n`;
      at += Buffer.byteLength(line);
      yield line;
    }
  }
  function* shared(): Generator<string> {
    for (const [key, numbers] of users) {
      const own = searchableShared?.(key, definitions);
      if (!own) continue;
      const [fields, description, written] = wordCells(own);
      const who = numbers.join(' ');
      sharedSaid.push(`${who}\t${description}\n`);
      yield `${who}\t${fields}\t${written}\n`;
    }
  }
  return { 'find.txt': find(), 'said.txt': said, 'shared.txt': shared(), 'shared-said.txt': sharedSaid };
}

const wordCells = ({ fields, description }: Searchable): [string, string, string] => [
  fields.map(fieldWords).join(';'),
  words(description.slice(0, longestText)),
  cellText(fields.join(' ')),
];

/** Lower-case words; `bookCall` is book and call. */
export function wordsOf(text: string): string[] {
  const found = words(text);
  return found === '' ? [] : found.split(' ');
}

/** The same, with a space between them. */
function words(text: string): string {
  return (
    plainWords(text) ??
    // The patterns for all of Unicode take longer to compile than most searches.
    text
      .replace(/(?<=[\p{Ll}\p{N}])(?=\p{Lu})/gu, ' ')
      .toLowerCase()
      .replace(/[^\p{L}\p{N}]+/gu, ' ')
      .trim()
  );
}

const space = 32;
const isUpper = (code: number): boolean => code >= 65 && code <= 90;
const isLower = (code: number): boolean => (code >= 97 && code <= 122) || (code >= 48 && code <= 57);

let room = Buffer.alloc(2 * longestText);

/**
 * The same of a text of ASCII, byte by byte: large documents have millions of words, and to cut them out takes twice as
 * long. undefined where there is another letter.
 */
function plainWords(text: string): string | undefined {
  // At most, each letter has a space before it.
  if (room.length < 2 * text.length) room = Buffer.alloc(2 * text.length);
  let size = 0;
  let before: 'other' | 'lower' | 'upper' = 'other';
  for (let at = 0; at < text.length; at += 1) {
    const code = text.charCodeAt(at);
    if (code > 127) return undefined;
    const kind = isLower(code) ? 'lower' : isUpper(code) ? 'upper' : 'other';
    if (kind !== 'other') {
      const begins = before === 'other' || (kind === 'upper' && before === 'lower');
      if (begins && size > 0) room[size++] = space;
      room[size++] = kind === 'upper' ? code + space : code;
    }
    before = kind;
  }
  return room.toString('latin1', 0, size);
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
