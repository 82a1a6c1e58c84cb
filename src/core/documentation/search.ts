/** Finding operations by words: every word must be found somewhere; where it is found decides the rank. */
import type { Field, Operation } from './model.js';

export interface Match {
  readonly operation: Operation;
  readonly score: number;
  /** Where the words were found: `name`, `path`, `summary`, `description`, `field cargo.kind`. */
  readonly in: readonly string[];
}

export interface Found {
  readonly matches: readonly Match[];
  /** False where no operation has all the words, and these have only some. */
  readonly complete: boolean;
}

const weights = { name: 12, path: 9, summary: 7, group: 4, field: 4, description: 2 } as const;

export function findOperations(operations: Iterable<Operation>, words: readonly string[]): Found {
  const wanted = words.flatMap((word) => wordsOf(word));
  const complete: Match[] = [];
  const partial: Match[] = [];
  for (const operation of operations) {
    const match = rank(operation, wanted);
    if (match.missing === 0) complete.push(match);
    else if (match.score > 0) partial.push(match);
  }
  const best = complete.length > 0 ? complete : partial;
  return { matches: best.sort((a, b) => b.score - a.score), complete: complete.length > 0 };
}

function rank(operation: Operation, wanted: readonly string[]): Match & { missing: number } {
  const texts = searchable(operation);
  const where = new Set<string>();
  let score = 0;
  let missing = 0;
  for (const word of wanted) {
    let best = 0;
    let label = '';
    for (const { kind, name, words } of texts) {
      const fit = fitness(word, words) * weights[kind];
      if (fit > best) [best, label] = [fit, name];
    }
    if (best === 0) missing += 1;
    else where.add(label);
    score += best;
  }
  return { operation, score, in: [...where], missing };
}

/** 1 for a word, 0.7 for the beginning of one (which serves plurals), 0.4 for a part. */
function fitness(word: string, words: readonly string[]): number {
  let best = 0;
  for (const one of words) {
    if (one === word) return 1;
    if (one.startsWith(word) || (one.length > 3 && word.startsWith(one))) best = Math.max(best, 0.7);
    else if (word.length > 3 && one.includes(word)) best = Math.max(best, 0.4);
  }
  return best;
}

interface Searchable {
  readonly kind: keyof typeof weights;
  readonly name: string;
  readonly words: readonly string[];
}

function searchable(operation: Operation): Searchable[] {
  const { id, path, summary = '', description = '', group, parameters, body, answers } = operation;
  const texts: Searchable[] = [
    { kind: 'name', name: 'name', words: wordsOf(id) },
    { kind: 'path', name: 'path', words: wordsOf(path) },
    { kind: 'path', name: 'method', words: [operation.method.toLowerCase()] },
    { kind: 'summary', name: 'summary', words: wordsOf(summary) },
    { kind: 'group', name: 'group', words: wordsOf(group) },
    { kind: 'description', name: 'description', words: wordsOf(description) },
  ];
  const add = (fields: readonly Field[], above: string): void => {
    for (const field of fields) {
      const name = above === '' ? field.name : `${above}.${field.name}`;
      texts.push({ kind: 'field', name: `field ${name}`, words: [field.name.toLowerCase(), ...wordsOf(field.name)] });
      texts.push({ kind: 'description', name: `field ${name}`, words: wordsOf(field.description ?? '') });
      if (field.fields) add(field.fields, name);
    }
  };
  add(parameters, '');
  add(body?.fields ?? [], '');
  for (const answer of answers) add(answer.content?.fields ?? [], '');
  return texts;
}

/** Lower-case words; `bookCall` is book and call. */
function wordsOf(text: string): string[] {
  return text
    .replace(/([\p{Ll}\p{N}])(\p{Lu})/gu, '$1 $2')
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word !== '');
}
