/** Finding operations by words: every word must be found somewhere; where it is found decides the rank. */
import { distance } from 'fastest-levenshtein';
import type { ListedOperation, SourceLists } from '../index/index-file.js';
import { fromBytes, type TextLines, toBytes } from '../reading/text-lines.js';
import { searched, sharedColumns, wordsOf } from './search-text.js';

export interface Match extends ListedOperation {
  readonly source: string;
  readonly score: number;
  /** Where the words were found: `name`, `path`, `summary`, `description`, `field cargo.kind`. */
  readonly in: readonly string[];
}

export interface Found {
  /** At most as many as were asked for. */
  readonly matches: readonly Match[];
  readonly total: number;
  /** False where no operation has all the words, and these have only some. */
  readonly complete: boolean;
  /** Words that stand nowhere, with the word that was looked for in their place. */
  readonly read: ReadonlyMap<string, string>;
}

const weights = { name: 12, path: 9, summary: 7, group: 4, fields: 4, description: 2 } as const;
type Kind = keyof typeof weights;
const kinds = Object.keys(weights) as Kind[];

/** A set of words is held in the bits of a number. */
const mostWords = 30;

type Searched = Pick<SourceLists, 'searched' | 'listedAt'>;

/** @param sources by name */
export function findOperations(sources: ReadonlyMap<string, Searched>, words: readonly string[], most = 100): Found {
  const scans = [...sources].map(([source, index]) => new Scan(source, index));
  const read = new Map<string, string>();
  const wanted = words
    .flatMap(wordsOf)
    .slice(0, mostWords)
    .map(toBytes)
    .map((word, bit) => {
      const known = scans.map((scan) => scan.mark(word, bit)).includes(true);
      const near = known ? undefined : nearestWord(word, scans);
      if (near === undefined) return word;
      read.set(fromBytes(word), fromBytes(near));
      for (const scan of scans) scan.mark(near, bit);
      return near;
    });
  const marks = Math.max(0, ...scans.map((scan) => scan.mostMarks()));
  const ranked = scans.flatMap((scan) => scan.ranked(wanted, marks)).sort((a, b) => b.score - a.score);
  return {
    matches: ranked.slice(0, most).map(({ scan, number, score }) => ({
      ...scan.index.listedAt(number),
      source: scan.source,
      score,
      in: scan.places(number, wanted),
    })),
    total: ranked.length,
    complete: marks === wanted.length,
    read,
  };
}

interface Ranked {
  readonly scan: Scan;
  readonly number: number;
  readonly score: number;
}

/** The best that a text has of a word: what it is worth, and where it stands. */
interface Best {
  readonly worth: number;
  readonly label: string;
}

const none: Best = { worth: 0, label: '' };

/** One source, and which words each of its operations has. */
class Scan {
  readonly operations: TextLines;
  readonly shared: TextLines;
  /** Of each operation, the words that it has; and those that stand in its own line. */
  private readonly marks: Uint32Array;
  private readonly own: Uint32Array;
  /** By word: of an operation, the line of what it shares that has most of it. */
  private readonly sharing: Map<number, number>[] = [];
  /** By word, and by line of what is shared. */
  private readonly bestShared: Map<number, Best>[] = [];

  constructor(
    readonly source: string,
    readonly index: Searched,
  ) {
    ({ operations: this.operations, shared: this.shared } = index.searched());
    this.marks = new Uint32Array(this.operations.count);
    this.own = new Uint32Array(this.operations.count);
  }

  /** Whether any operation has the word. */
  mark(word: string, bit: number): boolean {
    const start = stem(word);
    let found = false;
    const has =
      ({ text }: TextLines, first: number, beyond: number) =>
      (at: number, from: number, end: number): boolean => {
        if (fitnessAt(word, text, at) === 0) return false;
        const column = columnAt(text, from, at, end);
        return column >= first && column < beyond;
      };
    const { operations, shared, marks, own } = this;
    const flag = 1 << bit;
    for (const number of operations.numbersWith(start, has(operations, searched.name, searched.written))) {
      marks[number] = (marks[number] as number) | flag;
      own[number] = (own[number] as number) | flag;
      found = true;
    }
    const sharing = new Map<number, number>();
    const bests = new Map<number, Best>();
    for (const line of shared.numbersWith(start, has(shared, sharedColumns.fields, sharedColumns.written))) {
      const cells = shared.line(line).split('\t');
      const best = bestOf(word, [
        ['fields', cells[sharedColumns.fields], cells[sharedColumns.written]],
        ['description', cells[sharedColumns.description]],
      ]);
      bests.set(line, best);
      for (const user of (cells[sharedColumns.users] ?? '').split(' ')) {
        const number = Number(user);
        marks[number] = (marks[number] as number) | flag;
        const known = sharing.get(number);
        if (known === undefined || (bests.get(known) ?? none).worth < best.worth) sharing.set(number, line);
      }
      found = true;
    }
    this.sharing[bit] = sharing;
    this.bestShared[bit] = bests;
    return found;
  }

  /** How many of the words the operation has that has most of them. */
  mostMarks(): number {
    let most = 0;
    for (let number = 0; number < this.marks.length; number += 1)
      most = Math.max(most, bits(this.marks[number] as number));
    return most;
  }

  /** Operations with so many of the words, each with what they are worth. */
  ranked(words: readonly string[], marks: number): Ranked[] {
    if (marks === 0) return [];
    const found: Ranked[] = [];
    for (let number = 0; number < this.marks.length; number += 1) {
      const mark = this.marks[number] as number;
      if (mark === 0 || bits(mark) !== marks) continue;
      const score = this.bests(number, words).reduce((sum, { worth }) => sum + worth, 0);
      found.push({ scan: this, number, score });
    }
    return found;
  }

  /** Where an operation has the words. */
  places(number: number, words: readonly string[]): string[] {
    const found = this.bests(number, words).filter(({ worth }) => worth > 0);
    return [...new Set(found.map(({ label }) => fromBytes(label)))];
  }

  private bests(number: number, words: readonly string[]): Best[] {
    const own = this.own[number] as number;
    const cells = own === 0 ? [] : this.operations.line(number).split('\t');
    return words.map((word, bit) => {
      const line = this.sharing[bit]?.get(number);
      const shared = line === undefined ? none : (this.bestShared[bit]?.get(line) ?? none);
      if ((own & (1 << bit)) === 0) return shared;
      const best = bestOf(
        word,
        kinds.map((kind) => [kind, cells[searched[kind]], cells[searched.written]]),
      );
      return best.worth >= shared.worth ? best : shared;
    });
  }
}

/** @param texts of each kind, and for fields their names as they are written */
function bestOf(word: string, texts: readonly (readonly [Kind, string | undefined, (string | undefined)?])[]): Best {
  let best = none;
  for (const [kind, text = '', written = ''] of texts) {
    // No fitness is over 1.
    if (weights[kind] <= best.worth) continue;
    if (kind === 'fields') {
      const [fit, name] = bestField(word, text, written);
      if (fit * weights.fields > best.worth) best = { worth: fit * weights.fields, label: `field ${name}` };
    } else {
      const worth = fitness(word, text) * weights[kind];
      if (worth > best.worth) best = { worth, label: kind };
    }
  }
  return best;
}

function bits(number: number): number {
  let count = 0;
  for (let left = number; left !== 0; left &= left - 1) count += 1;
  return count;
}

/** The number of tabs before it. */
function columnAt(text: string, from: number, at: number, end: number): number {
  let column = 0;
  for (let tab = text.indexOf('\t', from); tab !== -1 && tab < at && tab < end; tab = text.indexOf('\t', tab + 1))
    column += 1;
  return column;
}

/** What a word has in common with its plural and its past. */
const stem = (word: string): string =>
  word.length > 5 ? word.slice(0, -2) : word.length > 3 ? word.slice(0, -1) : word;

/** The field that has most of a word. */
function bestField(word: string, text: string, written: string): [number, string] {
  if (!text.includes(stem(word))) return [0, ''];
  let best = 0;
  let found = 0;
  for (const [index, one] of text.split(';').entries()) {
    const fit = fitness(word, one);
    if (fit > best) [best, found] = [fit, index];
  }
  return [best, written.split(' ')[found] ?? ''];
}

function fitness(word: string, text: string): number {
  const start = stem(word);
  let best = 0;
  // Long texts are not split: most of their words have nothing of the one that is looked for.
  for (let at = text.indexOf(start); at !== -1 && best < 1; at = text.indexOf(start, at + 1))
    best = Math.max(best, fitnessAt(word, text, at));
  return best;
}

const isWordEnd = (code: number): boolean =>
  code === 32 || code === 9 || code === 10 || code === 59 || Number.isNaN(code);

/** Of the word around a place: 1 for the word itself, 0.7 for the beginning of one (which serves plurals), 0.4 for a part. */
function fitnessAt(word: string, text: string, at: number): number {
  let from = at;
  while (from > 0 && !isWordEnd(text.charCodeAt(from - 1))) from -= 1;
  let end = at;
  while (!isWordEnd(text.charCodeAt(end))) end += 1;
  if (end - from === word.length && text.startsWith(word, from)) return 1;
  if (text.startsWith(word, from) || (end - from > 3 && word.startsWith(text.slice(from, end)))) return 0.7;
  return word.length > 3 && text.slice(from, end).includes(word) ? 0.4 : 0;
}

/** A word that is mistyped: the nearest that stands anywhere, at most a third of its letters away. */
function nearestWord(word: string, scans: readonly Scan[]): string | undefined {
  const most = Math.floor(word.length / 3);
  if (most === 0) return undefined;
  const seen = new Set<string>();
  let best: string | undefined;
  let least = most + 1;
  const look = (cells: readonly string[]): void => {
    for (const cell of cells) {
      for (const one of cell.split(/[ ;]/)) {
        if (seen.has(one) || Math.abs(one.length - word.length) >= least) continue;
        seen.add(one);
        const apart = distance(word, one);
        if (apart < least) [best, least] = [one, apart];
      }
    }
  };
  for (const { operations, shared } of scans) {
    for (const line of operations) look(line.split('\t').slice(0, searched.written));
    for (const line of shared) look(line.split('\t').slice(sharedColumns.fields, sharedColumns.written));
  }
  return best;
}
