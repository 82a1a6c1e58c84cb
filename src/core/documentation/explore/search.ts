/** Finding operations by a question: what has its words, ranked by where they stand and by what is to be done. */
import type { ListedOperation } from '../index/index-file.js';
import { type Question, questionOf, type Term } from './question.js';
import { fitOf } from './ranking.js';
import { nearestWord, Scan, type ScannedOperation, type Searched } from './scan.js';

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

/** So many of those that have most of the words are looked at closely. */
const mostClosely = 150;

/** @param sources by name @param typed a question, or single words */
export function findOperations(sources: ReadonlyMap<string, Searched>, typed: readonly string[], most = 100): Found {
  const scans = [...sources].map(([source, index]) => new Scan(source, index));
  const read = new Map<string, string>();
  const question = lookedFor(questionOf(typed), scans, read);
  const { terms } = question;
  const rarity = raritiesOf(terms, scans);
  const having = scans.flatMap((scan) => candidatesOf(scan, terms, rarity));
  const covered = Math.max(0, ...having.map(({ count }) => count));
  // Half of the words are enough to be shown; who has most of what tells something comes first.
  const wanted = having.filter(({ count }) => count >= Math.min(covered, Math.ceil(terms.length / 2)));
  const close = wanted.sort((a, b) => b.score - a.score).slice(0, mostClosely);
  const ranked = scans
    .flatMap((scan) =>
      lookedAt(
        scan,
        close.filter((one) => one.scan === scan),
        question,
      ),
    )
    .sort((a, b) => b.score - a.score);
  return {
    matches: ranked.slice(0, most).map(({ scan, number, words: _, ...listed }) => ({
      ...listed,
      source: scan.source,
      in: scan.places(number, terms),
    })),
    total: wanted.length,
    complete: covered === terms.length,
    read,
  };
}

/** Looks for every term; one that stands nowhere is taken for the nearest word that does. */
function lookedFor(question: Question, scans: readonly Scan[], read: Map<string, string>): Question {
  const terms = question.terms.map((term, index): Term => {
    for (const where of ['names', 'descriptions'] as const)
      if (scans.map((scan) => scan.look(index, term, where)).includes(true)) return term;
    const near = nearestWord(term.word, scans);
    if (near === undefined) return term;
    read.set(term.word, near);
    const other: Term = { ...term, ...questionOf([near]).terms[0], role: term.role };
    for (const scan of scans) scan.look(index, other, 'names');
    return other;
  });
  const at = question.head ? question.terms.indexOf(question.head) : -1;
  return { ...question, terms, head: terms[at] };
}

/** A word that few operations have tells more than one that is in all. */
function raritiesOf(terms: readonly Term[], scans: readonly Scan[]): number[] {
  const all = scans.reduce((sum, { count }) => sum + count, 0);
  return terms.map((_, index) => {
    const having = scans.reduce((sum, scan) => sum + scan.spread(index), 0);
    return Math.max(0.4, Math.log(1 + all / (1 + having)) / Math.log(1 + all));
  });
}

interface Candidate {
  readonly scan: Scan;
  readonly number: number;
  readonly score: number;
  /** How many of the words it has. */
  readonly count: number;
}

function candidatesOf(scan: Scan, terms: readonly Term[], rarity: readonly number[]): Candidate[] {
  const found: Candidate[] = [];
  for (const number of scan.having) {
    let score = 0;
    let count = 0;
    for (let term = 0; term < terms.length; term += 1) {
      const worth = scan.worth(term, number);
      if (worth === 0) continue;
      count += 1;
      score += worth * (rarity[term] as number);
    }
    if (count > 0) found.push({ scan, number, score, count });
  }
  return found;
}

/** What is closest to the question, with the points for how it fits. */
function lookedAt(
  scan: Scan,
  close: readonly Candidate[],
  question: Question,
): (ScannedOperation & Pick<Candidate, 'scan' | 'number' | 'score'>)[] {
  const telling = methodsTell(scan);
  return scan.operationsAt(close.map(({ number }) => number)).map((operation, index) => {
    const { number, score } = close[index] as Candidate;
    return { ...operation, scan, number, score: score + fitOf(question, operation, telling) };
  });
}

/** Where nearly all operations have one method, as with GraphQL or calls of procedures, it tells nothing. */
function methodsTell(scan: Scan): boolean {
  const counts = new Map<string, number>();
  const methods = scan.methods();
  for (const method of methods) counts.set(method, (counts.get(method) ?? 0) + 1);
  return Math.max(0, ...counts.values()) < methods.length * 0.9;
}
