/** A question as an engineer puts it, such as "list the members of a team", taken apart. */
import { wordsOf } from './search-text.js';
import {
  articles,
  type Intent,
  intentOf,
  isDeed,
  isFiller,
  pairs,
  prepositions,
  stem,
  synonymsOf,
  wordsFor,
} from './vocabulary.js';

/** A word of a question, and what is looked for on its account. */
export interface Term {
  readonly word: string;
  readonly stem: string;
  /** The word itself, and others that mean the same, each with what it is worth. */
  readonly alternatives: readonly (readonly [word: string, worth: number])[];
  /** What is wanted (`members`), or where it is (`team`), or what is to be done with it, as far as HTTP has no method for that. */
  readonly role: 'object' | 'context' | 'deed';
  readonly plural: boolean;
}

export interface Question {
  readonly intent: Intent | 'act' | undefined;
  /** Words that the intent goes by in names and summaries. */
  readonly intentStems: ReadonlySet<string>;
  readonly terms: readonly Term[];
  /** The noun that the question is about: the last word of its object. */
  readonly head: Term | undefined;
}

const mostTerms = 12;

/** @param typed words as they were typed, one or several in each */
export function questionOf(typed: readonly string[]): Question {
  const words = joined(typed.flatMap(wordsOf));
  const wanted = words.filter((word) => !isFiller(word));
  // Of fillers alone, such as a resource called `any`, each is looked for.
  const plain = wanted.length === 0;
  const [first = ''] = plain ? words : wanted;
  const at = words.indexOf(first);
  const alone = wanted.length <= 1;
  // "list remotes" begins with a deed, and so does "invite a user"; "transactions of an address" does not.
  const intent = intentOf(first);
  const next = words[at + 1] ?? '';
  const deed = !intent && !alone && (isDeed(first) || articles.has(next) || /^(?:on|to)$/.test(next));
  const terms: Term[] = [];
  let role: Term['role'] = 'object';
  let met = false;
  for (const [index, word] of words.entries()) {
    if (index === at && intent && !alone) continue;
    if (index > at && prepositions.has(word) && met) role = 'context';
    if (isFiller(word) && !plain) continue;
    const own = index === at && deed ? 'deed' : role;
    if (own === 'object') met = true;
    if (terms.length < mostTerms) terms.push(termOf(word, own));
  }
  const objects = terms.filter((term) => term.role === 'object');
  return {
    intent: intent === 'read' && words.includes('all') ? 'list' : (intent ?? (deed ? 'act' : undefined)),
    intentStems: new Set(intent ? wordsFor(intent).map(stem) : []),
    terms,
    head: objects.at(-1) ?? terms.at(-1),
  };
}

/** Pairs that stand for one word, such as `log in`, as that word. */
function joined(words: readonly string[]): string[] {
  const found: string[] = [];
  for (let index = 0; index < words.length; index += 1) {
    const pair = pairs.get(`${words[index]} ${words[index + 1]}`);
    if (pair !== undefined) index += 1;
    found.push(pair ?? (words[index] as string));
  }
  return found;
}

const termOf = (word: string, role: Term['role']): Term => ({
  word,
  stem: stem(word),
  alternatives: [[word, 1], ...synonymsOf(word).map((one) => [one, 0.8] as const)],
  role,
  plural: word.length > 3 && word.endsWith('s') && !word.endsWith('ss') && stem(word) !== word,
});
