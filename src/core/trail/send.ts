/** One sending, from names to echo: resolve, attach sessions, compose, send, judge, keep, record. */

import { variableNames } from '../collection/layers.js';
import { documentedSchema, findOperation } from '../collection/sources.js';
import type { YamlFile } from '../collection/yaml.js';
import { recordEcho } from '../echo/record.js';
import { isSecretName, secretFieldValues } from '../echo/secret-fields.js';
import { composeRequest } from '../exchange/compose.js';
import type { Received } from '../exchange/received.js';
import { type Giving, resolveRequest } from '../exchange/request-plan.js';
import type { Outcome } from '../exchange/transport.js';
import type { HeaderLine, ResolvedRequest, WireRequest } from '../exchange/wire.js';
import { defaultVerdict, type Expectation, judge, problemText, type Verdict } from '../expectation/expectations.js';
import { type Keep, type Kept, takeKeeps } from '../expectation/keeps.js';
import type { Loads } from '../expression/compile.js';
import { type Evaluation, omitted } from '../expression/evaluation.js';
import { type Named, type Names, noNames } from '../expression/names.js';
import { compileTree } from '../expression/tree.js';
import type { World } from '../expression/world.js';
import { asProblem, Problem } from '../problem/problem.js';
import type { Attachment } from '../session/sessions.js';
import type { Value } from '../value/written.js';
import type { PreparedRequest, Workspace } from './workspace.js';

export interface Sending {
  /** A value that the caller has for an input. */
  readonly given: (input: string) => Named | undefined;
  /** The names of the caller, for the environment's values and the step's expectations. */
  readonly caller: Names;
  /** In place of the request's own. */
  readonly sessions?: readonly string[] | undefined;
  readonly signal?: AbortSignal | undefined;
  /** What a step adds to the request's own. */
  readonly expectations?: readonly Expectation[];
  readonly keeps?: readonly Keep[];
  readonly step?: string | undefined;
  readonly row?: number | undefined;
  /** Told when the request is about to leave. */
  readonly onSent?: (() => void) | undefined;
}

export interface Sent {
  /** The id of its echo. */
  readonly echo: string;
  readonly request: ResolvedRequest;
  readonly wire: WireRequest;
  readonly outcome: Outcome;
  readonly verdicts: readonly Verdict[];
  readonly kept: readonly Kept[];
  /** Everything that makes it a failure; empty where all is well. */
  readonly problems: readonly Problem[];
}

/** The request as it would leave, and nothing sent. */
export interface Preview {
  readonly request: ResolvedRequest;
  readonly wire: WireRequest;
  /** Sessions that sending would open first. */
  readonly notOpen: readonly string[];
}

function giving(workspace: Workspace, { given, caller }: Pick<Sending, 'given' | 'caller'>, world: World): Giving {
  const { layers, redactor, timeout } = workspace;
  return { layers, given, caller, timeout, world, onSecret: redactor.add };
}

/** @throws Problem: whatever keeps the request from being written */
export async function previewRequest(
  workspace: Workspace,
  prepared: PreparedRequest,
  sending: Pick<Sending, 'given' | 'caller' | 'sessions'>,
): Promise<Preview> {
  const { request } = resolveRequest(prepared.plan, {
    ...giving(workspace, sending, workspace.world()),
    withOrigins: true,
  });
  const { lines, notOpen } = await workspace.sessions.peek(sending.sessions ?? request.sessions);
  return { request, notOpen, wire: composed(workspace, request, lines) };
}

function composed(workspace: Workspace, request: ResolvedRequest, lines: readonly HeaderLine[]): WireRequest {
  const wire = composeRequest(request, lines, workspace.userAgent);
  if (request.secret) workspace.hosts.demand(wire.url, 'a secret');
  return wire;
}

/**
 * Sends a request and records its echo. What the network does is part of the result.
 * @throws Problem: whatever keeps the request from being sent
 */
export async function sendRequest(workspace: Workspace, prepared: PreparedRequest, sending: Sending): Promise<Sent> {
  const world = workspace.world();
  const { request, names } = resolveRequest(prepared.plan, giving(workspace, sending, world));
  const sessions = sending.sessions ?? request.sessions;
  const bare = composed(workspace, request, []);
  if (sessions.length > 0) workspace.hosts.demand(bare.url, `the session ${sessions.join(', ')}`);
  if (request.changes)
    await workspace.demandChange({ host: bare.url.host, method: request.method, url: bare.shownUrl });

  let tried = await attempt(workspace, request, bare, sessions, sending);
  const { attached } = tried;
  // A token that was good once and is refused now has ended: once more with a new one.
  if (tried.outcome.received?.status === 401 && attached && (await workspace.sessions.renew(attached))) {
    tried = await attempt(workspace, request, bare, sessions, sending);
  }
  const { at, wire, outcome } = tried;

  const judged = await judgeOutcome(workspace, prepared, sending, outcome, {
    names,
    world,
    onSecret: workspace.redactor.add,
  });
  const id = workspace.log.nextId();
  const environment = workspace.environment.name;
  const { step, row } = sending;
  workspace.log.append(
    recordEcho(
      { id, at, environment, request: request.name, operation: request.operation, step, row },
      wire,
      judged.outcome,
      judged.verdicts,
      judged.kept,
      workspace.redactor,
    ),
  );
  if (workspace.log.waiting > 4e6) await workspace.log.flushed();
  return { echo: id, request, wire, ...judged };
}

/** One try: what was attached, what left and when, and what became of it. */
interface Attempt {
  readonly at: Date;
  readonly attached: Attachment | undefined;
  readonly wire: WireRequest;
  readonly outcome: Outcome;
}

async function attempt(
  workspace: Workspace,
  request: ResolvedRequest,
  bare: WireRequest,
  sessions: readonly string[],
  { signal, onSent }: Sending,
): Promise<Attempt> {
  const attached = sessions.length > 0 ? await workspace.sessions.attach(sessions) : undefined;
  const wire = attached ? composed(workspace, request, attached.lines) : bare;
  const at = new Date();
  onSent?.();
  return { at, attached, wire, outcome: await workspace.transport.send(wire, signal) };
}

async function judgeOutcome(
  workspace: Workspace,
  prepared: PreparedRequest,
  sending: Sending,
  given: Outcome,
  own: Omit<Evaluation, 'touchedSecret'>,
): Promise<Pick<Sent, 'outcome' | 'verdicts' | 'kept' | 'problems'>> {
  const outcome = malformed(given);
  const { received, trouble } = outcome;
  if (received && !trouble) hideTokens(prepared, received, own.onSecret);
  if (!received || trouble) return { outcome, verdicts: [], kept: [], problems: trouble ? [trouble] : [] };
  const { world, onSecret } = own;
  const evaluation = (names: Names): Evaluation => ({ names, world, onSecret, touchedSecret: false });
  const situation = { documented: () => documented(workspace, prepared.plan.content.operation, received) };
  const stepExpectations = sending.expectations ?? [];
  const ofRequest = ownParts(prepared, stepExpectations);
  const verdicts = await judge(ofRequest.expectations, received, evaluation(own.names), situation);
  if (stepExpectations.length > 0) {
    verdicts.push(...(await judge(stepExpectations, received, evaluation(sending.caller), situation)));
  }
  const standard = defaultVerdict(ofRequest.expectations, stepExpectations, received);
  if (standard) verdicts.push(standard);
  const { kept: taken, missing } = takeKeeps(ofRequest.keeps, received, evaluation(own.names));
  if (sending.keeps && sending.keeps.length > 0) {
    const fromStep = takeKeeps(sending.keeps, received, evaluation(sending.caller));
    taken.push(...fromStep.kept);
    missing.push(...fromStep.missing);
  }
  const kept = taken.map((one) => (one.secret || isSecretName(one.name) ? { ...one, secret: true } : one));
  for (const one of kept) if (one.secret) workspace.redactor.add(one.value);
  const failed = verdicts.filter(({ ok }) => !ok);
  const problems = failed.map((verdict) => failedExpectation(verdict));
  // Behind a failed expectation a missing value is no news.
  if (failed.length === 0) problems.push(...missing);
  return { outcome, verdicts, kept, problems };
}

/** The token of a log-in is a secret before anything of the answer is kept, shown or recorded. */
function hideTokens({ tokens }: PreparedRequest, received: Received, onSecret: (value: Value) => void): void {
  if (received.textual) for (const value of secretFieldValues(received.text)) onSecret(value);
  for (const place of tokens) {
    try {
      const value = place.find(received);
      if (value !== undefined) onSecret(value);
    } catch {
      // No token there: the session says so.
    }
  }
}

/** A step that expects a status of its own speaks of another answer: what the request expects and keeps is not in it. */
function ownParts(
  { expectations, keeps }: PreparedRequest,
  step: readonly Expectation[],
): Pick<PreparedRequest, 'expectations' | 'keeps'> {
  if (step.length === 0) return { expectations, keeps };
  const places = new Set(step.map(({ place }) => place.text));
  if (places.has('status')) return { expectations: [], keeps: [] };
  return { keeps, expectations: expectations.filter(({ place }) => !places.has(place.text)) };
}

/** An answer that claims to be JSON and is not is no usable answer. */
function malformed(outcome: Outcome): Outcome {
  const { received, trouble } = outcome;
  if (!received || trouble || !received.claimsJson || received.size === 0) return outcome;
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

interface SessionCall {
  readonly name: string;
  readonly yaml: YamlFile;
  readonly request: string;
  readonly give: Readonly<Record<string, Value>>;
  readonly sessions: readonly string[];
}

/** Sends the request that opens or closes a session. @throws Problem session-missing where its answer is a refusal */
export async function sendForSession(
  workspace: Workspace,
  { name, yaml, request, give, sessions }: SessionCall,
): Promise<Received> {
  const prepared = await workspace.prepare(request);
  const loads: Loads = [];
  const where = (key: string) => (path: readonly (string | number)[]) => yaml.position(['open', 'give', key, ...path]);
  const trees = new Map(Object.entries(give).map(([key, value]) => [key, compileTree(value, where(key), loads)]));
  await Promise.all(loads);
  const hooks = { world: workspace.world(), onSecret: workspace.redactor.add };
  const names = variableNames(workspace.layers, noNames, hooks);
  const given = (input: string): Named | undefined => {
    const tree = trees.get(input);
    if (!tree) return undefined;
    const evaluation: Evaluation = { ...hooks, names, touchedSecret: false };
    const value = tree.evaluate(evaluation);
    return value === omitted ? undefined : { value, origin: `session ${name}`, secret: evaluation.touchedSecret };
  };
  const { outcome, problems, echo } = await sendRequest(workspace, prepared, {
    given,
    caller: noNames,
    sessions,
    step: `session ${name}`,
  });
  const { received, trouble } = outcome;
  if (trouble) throw trouble;
  const [first] = problems;
  if (received && !first) return received;
  const said = received && problemText(received);
  throw new Problem('session-missing', {
    what: `the session ${name} was refused: ${prepared.plan.name} answered ${received?.status}${said === undefined ? '' : ` (${said})`}`,
    cause: first?.what,
    remedy: `are the user and the secret right? echo-trail echo show ${echo} shows the exchange`,
    data: { session: name },
  });
}
