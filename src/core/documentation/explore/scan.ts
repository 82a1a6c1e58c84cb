/** Which operations of a source have the words of a question, where, and how much of each. */
import { distance } from 'fastest-levenshtein';
import type { ListedOperation, SourceLists } from '../index/index-file.js';
import { fromBytes, type TextLines, toBytes } from '../reading/text-lines.js';
import type { Term } from './question.js';
import { saidColumn, searched, sharedColumns, sharedSaidColumn } from './search-text.js';
import { stem } from './vocabulary.js';

export type Searched = Pick<SourceLists, 'searched' | 'listedAt' | 'facts'>;

/** What a word is worth by where it stands. */
const weights = { name: 7, path: 6, summary: 5, group: 2, fields: 2, description: 1.5 } as const;
type Kind = keyof typeof weights;
const kinds = Object.keys(weights) as Kind[];
const worths = kinds.map((kind) => weights[kind]);
const description = kinds.indexOf('description');
/** Those before it are what an operation is called. */
const group = kinds.indexOf('group');

/** What there is of one term. */
interface Look {
  /** Of each operation and kind of text, how well it fits. */
  readonly fits: Float32Array;
  /** Of an operation, the field that it shares with others and that has most of it, and how much. */
  readonly sharing: Map<number, { readonly worth: number; readonly label: () => string }>;
  /** How many operations are called by it. */
  readonly spread: number;
}

const nothing: Look = { fits: new Float32Array(0), sharing: new Map(), spread: 0 };

/** What a search scans of an operation, as its line says it. */
export interface ScannedOperation extends ListedOperation {
  /** The words of its name and of its summary. */
  readonly words: { readonly name: readonly string[]; readonly summary: readonly string[] };
}

export class Scan {
  private readonly operations: TextLines;
  private readonly looks: Look[] = [];
  /** Where the lines of operations begin, as far as they were met: to find all lines takes longer than most searches. */
  private readonly met = new Map<number, number>();
  /** Numbers of the operations that have any term. */
  readonly having = new Set<number>();

  constructor(
    readonly source: string,
    private readonly index: Searched,
  ) {
    this.operations = index.searched('find');
  }

  get count(): number {
    return this.index.facts.operations;
  }

  /**
   * Looks for a term, in place of what was found of it before.
   * @param where descriptions are most of the text, and their words are mostly those of names
   * @returns whether any operation has it
   */
  look(term: number, { alternatives }: Term, where: 'names' | 'descriptions'): boolean {
    const fits = new Float32Array(this.count * kinds.length);
    const sharing: Look['sharing'] = new Map();
    const called = new Set<number>();
    let found = false;
    const note = (number: number, kind: number, fit: number): void => {
      const at = number * kinds.length + kind;
      if (fit <= (fits[at] as number)) return;
      fits[at] = fit;
      found = true;
      this.having.add(number);
      if (kind < group) called.add(number);
    };
    const share = (users: readonly number[], worth: number, label: () => string): void => {
      found = true;
      for (const number of users) {
        this.having.add(number);
        if ((sharing.get(number)?.worth ?? 0) < worth) sharing.set(number, { worth, label });
      }
    };
    for (const [text, part] of alternatives) {
      const word = toBytes(text);
      if (where === 'names') {
        hits(this.operations, word, (from, column, fit) => {
          const kind = column - searched.name;
          if (kind < 0 || kind >= description) return;
          const number = numberAt(this.operations, from);
          this.met.set(number, from);
          note(number, kind, fit * part);
        });
        const shared = this.index.searched('shared');
        hits(shared, word, (from, column, fit) => {
          if (column !== sharedColumns.fields) return;
          share(usersAt(shared, from), fit * part * weights.fields, () => {
            const cells = shared.lineFrom(from).split('\t');
            return fieldWith(word, cells[sharedColumns.fields], cells[sharedColumns.written]).label;
          });
        });
        continue;
      }
      const said = this.index.searched('said');
      hits(said, word, (from, column, fit) => {
        if (column !== saidColumn) return;
        const tab = said.text.indexOf('\t', from);
        const number = Number(said.text.slice(from, tab));
        if (!this.met.has(number))
          this.met.set(number, Number(said.text.slice(tab + 1, said.text.indexOf('\t', tab + 1))));
        note(number, description, fit * part);
      });
      const sharedSaid = this.index.searched('shared-said');
      hits(sharedSaid, word, (from, column, fit) => {
        if (column === sharedSaidColumn)
          share(usersAt(sharedSaid, from), fit * part * weights.description, () => 'description');
      });
    }
    this.looks[term] = { fits, sharing, spread: called.size };
    return found;
  }

  /** What a term is worth in an operation, wherever it is there; 0 where it has nothing of it. */
  worth(term: number, number: number): number {
    const { fits, sharing } = this.looks[term] ?? nothing;
    let sum = sharing.size === 0 ? 0 : (sharing.get(number)?.worth ?? 0);
    for (let kind = 0, at = number * kinds.length; kind < kinds.length; kind += 1, at += 1)
      sum += (fits[at] as number) * (worths[kind] as number);
    return sum;
  }

  /** How many operations have a term in their name, path or summary. */
  spread(term: number): number {
    return this.looks[term]?.spread ?? 0;
  }

  /** Where an operation has the terms: of each, the place that is worth most. */
  places(number: number, terms: readonly Term[]): readonly string[] {
    const cells = this.line(number).split('\t');
    const found = terms.map((term, index) => {
      const { fits, sharing } = this.looks[index] ?? nothing;
      let best = 0;
      let label: string | undefined;
      for (const [kind, name] of kinds.entries()) {
        const worth = (fits[number * kinds.length + kind] as number) * (worths[kind] as number);
        if (worth <= best) continue;
        best = worth;
        label = name === 'fields' ? bestField(term, cells[searched.fields], cells[searched.written]) : name;
      }
      const shared = sharing.get(number);
      return shared && shared.worth > best ? shared.label() : label;
    });
    return [...new Set(found.filter((label) => label !== undefined))].map(fromBytes);
  }

  /** In the order of the numbers. */
  operationsAt(numbers: readonly number[]): ScannedOperation[] {
    const lines = numbers.map((number) => this.line(number).split('\t', searched.group));
    const wordsIn = (cell: string | undefined): string[] => (cell ? cell.split(' ') : []);
    const listed = this.index.listedAt(lines.map((cells) => Number(cells[searched.place])));
    return listed.map((one, index) => ({
      ...one,
      words: { name: wordsIn(lines[index]?.[searched.name]), summary: wordsIn(lines[index]?.[searched.summary]) },
    }));
  }

  /** The methods of some of its operations, from all over it. */
  methods(): string[] {
    const { text } = this.operations;
    const found: string[] = [];
    const looks = 40;
    for (let look = 0; look < looks; look += 1) {
      const from = text.lastIndexOf('\n', Math.floor((text.length * look) / looks)) + 1;
      const path = this.operations.lineFrom(from).split('\t', searched.summary)[searched.path];
      if (path !== undefined) found.push(path.split(' ', 1)[0] ?? '');
    }
    return found;
  }

  /** Every word that names something: descriptions are too long, and repeat what names say. Looked for once a source. */
  words(): ReadonlySet<string> {
    const known = vocabularies.get(this.operations) ?? new Set(this.everyWord());
    vocabularies.set(this.operations, known);
    return known;
  }

  private *everyWord(): Generator<string> {
    for (const line of this.operations)
      for (const cell of line.split('\t', searched.written).slice(searched.name)) yield* cell.split(/[ ;]/);
    for (const line of this.index.searched('shared'))
      yield* (line.split('\t', sharedColumns.written)[sharedColumns.fields] ?? '').split(/[ ;]/);
  }

  private line(number: number): string {
    const from = this.met.get(number);
    return from === undefined ? this.operations.line(number) : this.operations.lineFrom(from);
  }
}

const vocabularies = new WeakMap<TextLines, ReadonlySet<string>>();

/** A word that is mistyped: the nearest that stands anywhere, at most a third of its letters away. */
export function nearestWord(word: string, scans: readonly Scan[]): string | undefined {
  const wanted = toBytes(word);
  let least = Math.floor(wanted.length / 3) + 1;
  if (least === 1) return undefined;
  let best: string | undefined;
  for (const scan of scans) {
    for (const one of scan.words()) {
      if (Math.abs(one.length - wanted.length) >= least) continue;
      const apart = distance(wanted, one);
      if (apart < least) [best, least] = [one, apart];
    }
  }
  return best === undefined ? undefined : fromBytes(best);
}

/** Tells where a word is in lines of cells: where the line begins, the column, and how well it fits there. */
function hits(lines: TextLines, word: string, visit: (from: number, column: number, fit: number) => void): void {
  const own = stem(word);
  // What all forms of it begin with: the stem of `company` is `compani`.
  const start = word.startsWith(own) ? own : own.slice(0, -1);
  if (start === '') return;
  lines.eachPlace(start, (at, from) => {
    const fit = fitnessAt(word, own, lines.text, at);
    if (fit > 0) visit(from, columnAt(lines.text, from, at), fit);
  });
}

/** What stands before the first tab of a line. */
const firstCell = ({ text }: TextLines, from: number): string => text.slice(from, text.indexOf('\t', from));
const numberAt = (lines: TextLines, from: number): number => Number(firstCell(lines, from));
const usersAt = (lines: TextLines, from: number): number[] => firstCell(lines, from).split(' ').map(Number);

/** The number of tabs before it. */
function columnAt(text: string, from: number, at: number): number {
  let column = 0;
  for (let tab = text.indexOf('\t', from); tab !== -1 && tab < at; tab = text.indexOf('\t', tab + 1)) column += 1;
  return column;
}

/** The field that has most of a term, as it is written. */
function bestField({ alternatives }: Term, fields: string | undefined, written: string | undefined): string {
  let best = { fit: 0, label: 'field' };
  for (const [word, part] of alternatives) {
    const { fit, label } = fieldWith(toBytes(word), fields, written);
    if (fit * part > best.fit) best = { fit: fit * part, label };
  }
  return best.label;
}

/** @param fields words of each @param written their names */
function fieldWith(word: string, fields = '', written = ''): { readonly fit: number; readonly label: string } {
  const own = stem(word);
  let fit = 0;
  let found = 0;
  for (const [index, one] of fields.split(';').entries()) {
    const here = Math.max(0, ...one.split(' ').map((text) => fitnessAt(word, own, text, 0)));
    if (here > fit) [fit, found] = [here, index];
  }
  return { fit, label: `field ${written.split(' ')[found] ?? ''}` };
}

const isWordEnd = (code: number): boolean =>
  code === 32 || code === 9 || code === 10 || code === 59 || Number.isNaN(code);

/** Of the word around a place: 1 for the word itself, less for another form of it, for what begins with it, and for a part. */
function fitnessAt(word: string, own: string, text: string, at: number): number {
  let from = at;
  while (from > 0 && !isWordEnd(text.charCodeAt(from - 1))) from -= 1;
  let end = at;
  while (!isWordEnd(text.charCodeAt(end))) end += 1;
  if (end - from === word.length && text.startsWith(word, from)) return 1;
  const found = text.slice(from, end);
  if (stem(found) === own) return 0.95;
  if (word.length < 3) return 0;
  if (found.startsWith(word)) return 0.6;
  // `remotes` in `listremotes`; a part in the middle may be of another word.
  if (word.length > 3 && found.endsWith(word)) return 0.6;
  return word.length > 4 && found.includes(word) ? 0.3 : 0;
}
