/** How well an operation fits a question, beyond having its words: its method, the shape of its path, and what its name says. */
import { ownMember } from '../../value/own-member.js';
import type { Question, Term } from './question.js';
import type { ScannedOperation } from './scan.js';
import { wordsOf } from './search-text.js';
import { type Intent, intentOf, isFiller, stem } from './vocabulary.js';

/** What methods are worth to an intent; a path that ends with a parameter means one of its things, else all of them. */
const methods: Readonly<Record<Intent | 'act' | 'none', Readonly<Record<string, number>>>> = {
  create: { POST: 6, PUT: 1, PATCH: -3, GET: -8, DELETE: -8 },
  list: { GET: 6, POST: -3, PUT: -8, PATCH: -8, DELETE: -8 },
  read: { GET: 6, POST: -3, PUT: -8, PATCH: -8, DELETE: -8 },
  update: { PATCH: 6, PUT: 5, POST: 1, GET: -8, DELETE: -8 },
  replace: { PUT: 7, PATCH: 2, POST: 0, GET: -8, DELETE: -8 },
  delete: { DELETE: 7, POST: -3, PUT: -6, PATCH: -6, GET: -8 },
  upload: { POST: 5, PUT: 5, PATCH: 1, GET: -6, DELETE: -6 },
  download: { GET: 5, POST: 0, PUT: -6, PATCH: -6, DELETE: -6 },
  search: { GET: 4, POST: 2, PUT: -6, PATCH: -6, DELETE: -6 },
  act: { POST: 3, PUT: 2, PATCH: 1, DELETE: 0, GET: -2 },
  none: { GET: 3, POST: 1, PUT: 0, PATCH: 0, DELETE: -1 },
};

/** Intents that a name may show while another is meant: who lists may read. */
const near: Readonly<Partial<Record<Intent | 'act', readonly Intent[]>>> = {
  list: ['read', 'search'],
  read: ['list', 'download', 'search'],
  update: ['replace'],
  replace: ['update'],
  upload: ['create', 'replace', 'update'],
  download: ['read'],
  search: ['list', 'read'],
  create: ['upload'],
};

/**
 * @param telling whether the methods of the source tell anything: where all calls are POST, only names do
 * @returns points, to be added to what the words are worth
 */
export function fitOf(question: Question, candidate: ScannedOperation, telling: boolean): number {
  const path = pathOf(candidate.path);
  const said = saidBy(candidate);
  return (
    (telling ? methodFit(question, candidate.method, path, said) : 0) +
    nameFit(question, candidate, said) +
    pathFit(question, path, telling ? naturalness(question, candidate.method) : 0) -
    (candidate.deprecated ? 5 : 0)
  );
}

interface Path {
  /** Stems of the words of each segment that is no parameter. */
  readonly fixed: readonly (readonly string[])[];
  readonly endsWithParameter: boolean;
}

function pathOf(path: string): Path {
  const segments = path.split(/(?:\/|[.:](?![^{]*\}))/).filter((segment) => segment !== '');
  return {
    fixed: segments
      .filter((segment) => !segment.startsWith('{') && !/^(?:v\d[\w.]*|api|rest)$/i.test(segment))
      .map((segment) => wordsOf(segment.replace(/\{[^}]*\}/g, '')).map(stem)),
    endsWithParameter: segments.at(-1)?.endsWith('}') ?? false,
  };
}

/** The intent that its name shows, at its beginning or its end, else that of its summary. */
function saidBy({ words: { name, summary } }: ScannedOperation): Intent | undefined {
  const [first = ''] = name;
  // A name that is made of the method and the path says nothing of its own.
  const made = /^(?:get|put|post|patch|delete)$/.test(first) && name.length > 1 && summary.length > 0;
  return (made ? undefined : (intentOf(first) ?? intentOf(name.at(-1) ?? ''))) ?? intentOf(summary[0] ?? '');
}

/** What a method is worth to the intent of a question, whatever else there is. */
const naturalness = ({ intent }: Question, method: string): number =>
  ownMember(methods[intent ?? 'none'], ownMember(ofGraphql, method) ?? method) ?? 0;

/** What a root type of GraphQL does is near to these. */
const ofGraphql: Readonly<Record<string, string>> = { query: 'GET', subscription: 'GET', mutation: 'POST' };

function methodFit(question: Question, method: string, path: Path, said: Intent | undefined): number {
  const { intent, intentStems, head } = question;
  let fit = naturalness(question, method);
  // `POST /things/{id}/delete` deletes, whatever its method is for.
  if (fit < 0 && intent && (said === intent || path.fixed.at(-1)?.some((word) => intentStems.has(word)))) fit = 3;
  if (fit <= 0) return fit;
  const one = path.endsWithParameter;
  if (intent === 'create') return fit + (one ? -4 : 2);
  if (intent === 'list' || intent === 'search') return fit + (one ? -4 : 2);
  const many = head?.plural === true;
  if (intent === 'act') return fit + (one ? 1 : 0);
  if (intent === 'upload') return fit;
  // The number of a thing that the path does not name tells nothing of the path.
  if (!head || !path.fixed.flat().some((word) => fits(head, word))) return fit;
  return fit + (one === many ? -1 : 2);
}

function nameFit(question: Question, { words }: ScannedOperation, said: Intent | undefined): number {
  const { intent, terms } = question;
  let fit = 0;
  if (intent && intent !== 'act' && said) fit += said === intent ? 4 : near[intent]?.includes(said) ? 0 : -5;
  if (intent === 'act' && said) fit -= said === 'update' || said === 'replace' ? 0 : 3;
  // Whatever else it is about is not what was asked for.
  const known = (word: string): boolean =>
    isFiller(word) || intentOf(word) !== undefined || terms.some((term) => fits(term, stem(word)));
  fit -= Math.min(6, words.name.filter((word) => !known(word)).length * 0.5);
  fit -= Math.min(4, words.summary.filter((word) => !known(word)).length * 0.4);
  return fit;
}

const fits = (term: Term, own: string): boolean =>
  term.stem === own ||
  term.alternatives.some(([word]) => stem(word) === own) ||
  (term.word.length > 3 && own.endsWith(term.stem));

/** @param natural what its method is worth to the intent */
function pathFit({ intent, terms, head, intentStems }: Question, { fixed }: Path, natural: number): number {
  let fit = 0;
  const has = (segment: readonly string[] | undefined, term: Term | undefined): number => {
    if (!segment || !term || segment.length === 0) return 0;
    const known = segment.filter((word) => terms.some((one) => fits(one, word))).length;
    return segment.some((word) => fits(term, word)) ? known / segment.length : 0;
  };
  const deed = terms.find(({ role }) => role === 'deed');
  const last = fixed.at(-1);
  const named = last?.length === 1 && intentStems.has(last[0] as string);
  const acts = has(last, deed) > 0 || named;
  // `/things/{id}/cancel` is about things. `POST /things/register` says no more than its method.
  if (acts && (!named || intent === 'search' || natural < 4)) fit += 5;
  const about = acts && fixed.length > 1 ? fixed.at(-2) : last;
  // Of `pull request`, the path may have only the first.
  const objects = terms.filter(({ role }) => role === 'object');
  fit += 7 * Math.max(has(about, head), ...objects.map((term) => 0.7 * has(about, term)));
  for (const term of terms)
    if (term.role === 'context') fit += 3 * Math.max(0, ...fixed.map((segment) => has(segment, term)));
  for (const segment of fixed) {
    const known = segment.some((word) => intentStems.has(word) || terms.some((term) => fits(term, word)));
    if (!known) fit -= 2;
  }
  return fit;
}
