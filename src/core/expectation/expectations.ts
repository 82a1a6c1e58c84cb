/** Expectations: matchers at places, held against one exchange. */

import type { YamlFile } from '../collection/yaml.js';
import type { Difference } from '../comparison/difference.js';
import type { Loads } from '../expression/compile.js';
import { type Evaluation, omitted } from '../expression/evaluation.js';
import { compileTree, type Tree } from '../expression/tree.js';
import { compileMatchers } from '../matcher/compile.js';
import type { Check, CompileContext, MatchContext } from '../matcher/matcher.js';
import { measureText, shortText } from '../matcher/reading.js';
import { declaredErrors, verdictInside } from '../place/kinds/errors.js';
import type { Observed } from '../place/observed.js';
import type { Namespaces, Place } from '../place/place.js';
import { readBoundPlace } from '../place/registry.js';
import { asProblem } from '../problem/problem.js';
import { textOf } from '../value/text.js';
import { isValueMap, type Value, type ValueMap } from '../value/written.js';

/** What became of one expectation. Only where it failed, what was expected and found: as data, and in words. */
export interface Verdict {
  readonly place: string;
  readonly ok: boolean;
  /** A map of matchers, values computed. */
  readonly matchers?: ValueMap;
  /** What is at the place; undefined where nothing is, or where it is too long to be told. */
  readonly value?: Value;
  readonly expected?: string;
  readonly found?: string;
  readonly detail?: string;
  /** The nearest thing that exists, where there is nothing at the place. */
  readonly near?: string;
  /** Of an expected document: what differs, place by place. */
  readonly deviations?: readonly Difference[];
}

export interface Expectation {
  readonly place: Place;
  /** What is expected; computed again each time where it holds `${…}`. */
  readonly expected: Tree;
  readonly check: Check | undefined;
  readonly remake: (expected: Value, loads: Loads) => Check;
}

/**
 * @param path where the map is in the file
 * @throws Problem place-syntax, matcher-shape, expression-syntax, with its place in the file
 */
export function compileExpectations(
  expect: Readonly<Record<string, Value>> | undefined,
  yaml: YamlFile,
  path: readonly (string | number)[],
  readText: (path: string) => string,
  loads: Loads,
  namespaces?: Namespaces,
  documented?: CompileContext['documented'],
): readonly Expectation[] {
  return Object.entries(expect ?? {}).map(([text, value]) => {
    const where = yaml.position([...path, text], 'key');
    const own: Loads = [];
    try {
      const place = readBoundPlace(text, own, namespaces);
      const expected = compileTree(value, (inner) => yaml.position([...path, text, ...inner]), own);
      const remake = (given: Value, more: Loads): Check =>
        compileMatchers(given, {
          subject: { strict: place.strict, unit: place.unit },
          loads: more,
          readText,
          documented,
        });
      const check = expected.constant === undefined ? undefined : remake(expected.constant, own);
      return { place, expected, check, remake };
    } catch (error) {
      throw asProblem(error).at(where);
    } finally {
      // An unusable pattern shows when its engine is there; it belongs to this line of the file.
      loads.push(...own.map((load) => load.catch((error: unknown) => Promise.reject(asProblem(error).at(where)))));
    }
  });
}

/**
 * A promise only where a matcher has to load something: a run judges every response, and has nothing to wait for.
 * @throws Problem where an expected value cannot be computed
 */
export function judge(
  expectations: readonly Expectation[],
  observed: Observed,
  evaluation: Evaluation,
  situation: MatchContext,
): Verdict[] | Promise<Verdict[]> {
  const loads: Loads = [];
  const checks: Check[] = [];
  const computed: Value[] = [];
  for (const { check, expected, remake } of expectations) {
    const value = check ? expected.constant : expected.evaluate(evaluation);
    const known = (value === omitted ? null : value) as Value;
    computed.push(known);
    checks.push(check ?? remake(known, loads));
  }
  const verdicts = (): Verdict[] =>
    expectations.map(({ place }, index) => {
      const found = verdictOf(place.bound?.(evaluation) ?? place, checks[index] as Check, observed, situation);
      return found.ok ? found : withRefusal({ ...found, matchers: matchersOf(computed[index] as Value) }, observed);
    });
  return loads.length > 0 ? Promise.all(loads).then(verdicts) : verdicts();
}

/** A plain value is written for its equality. */
const matchersOf = (expected: Value): ValueMap => (isValueMap(expected) ? expected : { equals: expected });

/** Characters of a value that is reported. */
const longestValue = 1000;

const toldValue = (found: Value | undefined): Pick<Verdict, 'value'> =>
  found === undefined || textOf(found).length > longestValue ? {} : { value: found };

/** An unexpected status says more with what the vendor says of it. */
function withRefusal(verdict: Verdict, observed: Observed): Verdict {
  if (verdict.place !== 'status' || verdict.detail !== undefined) return verdict;
  const detail = problemText(observed);
  return detail === undefined ? verdict : { ...verdict, detail };
}

function verdictOf(place: Place, check: Check, observed: Observed, situation: MatchContext): Verdict {
  let found: Value | undefined;
  try {
    found = place.find(observed);
  } catch (error) {
    const { what, reason } = asProblem(error);
    return {
      place: place.text,
      ok: false,
      expected: check.describe(),
      found: what,
      ...(reason !== undefined && { detail: reason }),
    };
  }
  const nodes = place.nodes?.(observed);
  const miss = check.miss(found, nodes ? { ...situation, nodes } : situation);
  if (miss === undefined) return { place: place.text, ok: true };
  const near = found === undefined ? place.near(observed) : undefined;
  const deviations = check.deviations?.(found);
  return {
    place: place.text,
    ok: false,
    ...(deviations === undefined && toldValue(found)),
    expected: check.describe(),
    // For a document, show the differences, not the value.
    found: deviations
      ? countText(deviations.length)
      : typeof found === 'number'
        ? measureText(found, place.unit)
        : shortText(found),
    ...(miss !== '' && { detail: miss }),
    ...(near !== undefined && { near }),
    ...(deviations && { deviations }),
  };
}

const countText = (count: number): string =>
  count === 0 ? 'nothing to compare with' : `${count} ${count === 1 ? 'difference' : 'differences'}`;

/**
 * Without an expectation on `status` or `errors`, a status of 400 or more, a redirect that leads nowhere or was not followed,
 * GraphQL errors and a SOAP fault are failures.
 */
export function defaultVerdict(
  own: readonly Expectation[],
  ofStep: readonly Expectation[],
  observed: Observed,
): Verdict | undefined {
  const speaks = ({ place }: Expectation): boolean => place.text === 'status' || place.text === 'errors';
  if (own.some(speaks) || ofStep.some(speaks)) return undefined;
  if (observed.unfollowed) {
    return {
      ...statusNotUnder(300, observed.status),
      detail: `not redirected: ${observed.unfollowed}`,
    };
  }
  if (observed.status < 400) return insideVerdict(observed);
  const detail = problemText(observed);
  return { ...statusNotUnder(400, observed.status), ...(detail !== undefined && { detail }) };
}

const statusNotUnder = (limit: number, status: number): Verdict => ({
  place: 'status',
  ok: false,
  matchers: { under: limit },
  value: status,
  expected: `under ${limit}`,
  found: String(status),
});

/** A verdict that is in the response, whatever its status. */
function insideVerdict(observed: Observed): Verdict | undefined {
  let declared: readonly Value[];
  try {
    declared = verdictInside(observed);
  } catch {
    return undefined;
  }
  const [first] = declared;
  if (first === undefined) return undefined;
  const detail = problemText(observed);
  const found = `${declared.length} ${declared.length === 1 ? 'error' : 'errors'}`;
  const about = { matchers: { exists: false }, ...toldValue([...declared]), expected: 'none', found };
  return { place: 'errors', ok: false, ...about, ...(detail !== undefined && { detail }) };
}

/** What a problem, a GraphQL error or a SOAP fault says, in one line. */
export function problemText(observed: Observed): string | undefined {
  let first: Value | undefined;
  try {
    [first] = declaredErrors(observed);
  } catch {
    return undefined;
  }
  if (typeof first !== 'object' || first === null) return undefined;
  const { title, detail, message } = first as { title?: Value; detail?: Value; message?: Value };
  const text = [title, message, detail].filter((part) => typeof part === 'string').join(': ');
  return text === '' ? undefined : text;
}
