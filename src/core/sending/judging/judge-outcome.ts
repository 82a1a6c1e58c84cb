/** What becomes of an outcome: usable or not, judged by the expectations, and what is kept of it. */
import { documentedSchema } from '../../collection/sources/documented-schema.js';
import { findOperation } from '../../collection/sources/source-index.js';
import type { Received } from '../../exchange/response/received.js';
import type { Outcome } from '../../exchange/transfer/transport.js';
import { defaultVerdict, type Expectation, judge, type Verdict } from '../../expectation/expectations.js';
import { takeKeeps } from '../../expectation/keeps.js';
import { Evaluation, type EvaluationContext } from '../../expression/evaluation.js';
import type { Names } from '../../expression/names.js';
import type { MatchContext } from '../../matcher/matcher.js';
import { asProblem, Problem } from '../../problem/problem.js';
import { secretFieldValues } from '../../value/secret-fields.js';
import type { Value } from '../../value/written.js';
import type { PreparedRequest } from '../prepare.js';
import type { Sending, Sent } from '../sending.js';
import type { Workspace } from '../workspace.js';

export interface Judged extends Pick<Sent, 'outcome' | 'verdicts' | 'kept'> {
  readonly problems: Problem[];
}

/**
 * A promise only where something has to be loaded, or may be accepted: a run judges thousands of responses. What goes wrong in
 * judging is a problem beside the response: it has come, whatever becomes of it here.
 */
export function judgeOutcome(
  workspace: Workspace,
  prepared: PreparedRequest,
  sending: Sending,
  given: Outcome,
  ownNames: Names,
  evaluationContext: EvaluationContext,
): Judged | Promise<Judged> {
  const outcome = malformed(given);
  const { received, trouble } = outcome;
  if (received && !trouble) hideTokens(prepared, received, evaluationContext.onSecret);
  if (!received || trouble) return { outcome, verdicts: [], kept: [], problems: trouble ? [trouble] : [] };
  const evaluation = (names: Names): Evaluation => new Evaluation(names, evaluationContext);
  const situation: MatchContext = {
    documented: () => documented(workspace, prepared.plan.content.operation, received),
  };
  const stepExpectations = sending.expectations ?? [];
  const ofRequest = ownParts(prepared, stepExpectations);
  const standard = defaultVerdict(ofRequest.expectations, stepExpectations, received);
  const judgeAll = (at: MatchContext): Verdict[] | Promise<Verdict[]> => {
    const own = judge(ofRequest.expectations, received, evaluation(ownNames), at);
    if (stepExpectations.length === 0 && !standard) return own;
    const ofStep = stepExpectations.length > 0 ? judge(stepExpectations, received, evaluation(sending.caller), at) : [];
    const all = (one: Verdict[], other: Verdict[]): Verdict[] => [...one, ...other, ...(standard ? [standard] : [])];
    return own instanceof Promise || ofStep instanceof Promise
      ? Promise.all([own, ofStep]).then(([one, other]) => all(one, other))
      : all(own, ofStep);
  };
  const faults: Problem[] = [];
  // What is kept does not hang on it: it may be needed to take back what was made.
  const judged = orElse(
    () => judgeAll(situation),
    (problem): Verdict[] => {
      faults.push(problem);
      return [];
    },
  );
  const { accept } = workspace;
  // A response that is wrong in another way is no baseline.
  const acceptable = (verdicts: readonly Verdict[]): boolean =>
    verdicts.some(({ ok }) => !ok) && verdicts.every(({ ok, deviations }) => ok || deviations);
  const accepted = async (): Promise<Verdict[]> => {
    const verdicts = await judged;
    return accept && acceptable(verdicts) ? judgeAll({ ...situation, accept }) : verdicts;
  };
  const { kept, missing } = takeKeeps(ofRequest.keeps, received, evaluation(ownNames));
  if (sending.keeps && sending.keeps.length > 0) {
    const fromStep = takeKeeps(sending.keeps, received, evaluation(sending.caller));
    kept.push(...fromStep.kept);
    missing.push(...fromStep.missing);
  }
  for (const one of kept) if (one.secret) workspace.redactor.add(one.value);
  const concluded = (verdicts: Verdict[]): Judged => {
    const problems: Problem[] = [...faults];
    for (const verdict of verdicts) if (!verdict.ok) problems.push(failedExpectation(verdict));
    // Behind a failed expectation a missing value is no news.
    return { outcome, verdicts, kept, problems: problems.length === 0 ? missing : problems };
  };
  return accept || judged instanceof Promise ? accepted().then(concluded) : concluded(judged);
}

/** @param other in place of what goes wrong */
export function orElse<T>(work: () => T | Promise<T>, other: (problem: Problem) => T): T | Promise<T> {
  const failed = (error: unknown): T => other(asProblem(error));
  try {
    const done = work();
    return done instanceof Promise ? done.catch(failed) : done;
  } catch (error) {
    return failed(error);
  }
}

/** The token of a log-in is a secret before anything of the response is kept, shown or recorded. */
function hideTokens({ tokens }: PreparedRequest, received: Received, onSecret: (value: Value) => void): void {
  if (received.textual) for (const value of secretFieldValues(received.shown)) onSecret(value);
  for (const place of tokens) {
    try {
      const value = place.find(received);
      if (value !== undefined) onSecret(value);
    } catch {
      // No token there: the session says so.
    }
  }
}

/** A step that expects a status of its own speaks of another response: what the request expects and keeps is not in it. */
function ownParts(
  { expectations, keeps }: PreparedRequest,
  step: readonly Expectation[],
): Pick<PreparedRequest, 'expectations' | 'keeps'> {
  if (step.length === 0) return { expectations, keeps };
  const places = new Set(step.map(({ place }) => place.text));
  if (places.has('status')) return { expectations: [], keeps: [] };
  return { keeps, expectations: expectations.filter(({ place }) => !places.has(place.text)) };
}

/** A response that claims to be JSON and is not is no usable response. */
function malformed(outcome: Outcome): Outcome {
  const { received, trouble } = outcome;
  // What went to a file is for others to read.
  const saved = received?.parts.saved !== undefined || received?.parts.spooled !== undefined;
  if (!received || trouble || saved || !received.claimsJson || received.size === 0) return outcome;
  try {
    received.json();
    return outcome;
  } catch (error) {
    return { received, trouble: asProblem(error) };
  }
}

function documented(workspace: Workspace, operation: string | undefined, received: Received): object | undefined {
  if (operation === undefined) return undefined;
  return documentedSchema(workspace.collection, findOperation(workspace.collection, operation), received.status);
}

function failedExpectation({ place, expected, found, detail, near }: Verdict): Problem {
  return new Problem('step-failed', {
    what: `${place}: expected ${expected}, found ${found}`,
    cause: [detail, near && `nearest: ${near}`].filter(Boolean).join('; ') || undefined,
    data: { place },
  });
}
