/** One request from file to echo: resolve, compose, attach sessions, sign, send, judge, keep, record. */
import { certificateOf } from '../exchange/connection/certificate.js';
import { resolveRequest } from '../exchange/request/resolve.js';
import type { WireRequest } from '../exchange/request/wire.js';
import type { Received } from '../exchange/response/received.js';
import { Evaluation } from '../expression/evaluation.js';
import { inTries, type Tried } from '../pacing/tries.js';
import { contradictionIn } from '../place/contradiction.js';
import { asProblem, Problem } from '../problem/problem.js';
import { isSecretName } from '../value/secret-fields.js';
import { accessDeniedBy } from './judging/access-denied.js';
import { changesByDocumentation, undocumentedParts } from './judging/documented.js';
import { type Judged, judgeOutcome, orElse } from './judging/judge-outcome.js';
import { responseWarnings, warningsOf } from './judging/warnings.js';
import { outsideInput, outsideOf, outsideRequest } from './outside.js';
import type { PreparedRequest } from './prepare.js';
import { unsent } from './preview.js';
import { resolutionInput } from './resolution-input.js';
import type { Sending, Sent } from './sending.js';
import { sessionVariables } from './sessions/session-variables.js';
import { type Attempt, attached, composed, pinned } from './trying/attempt.js';
import { authenticatedAttempt } from './trying/authenticated-attempt.js';
import type { Composed, Conversation } from './trying/conversation.js';
import { record, unjudged } from './trying/exchanged.js';
import { requestSigner, signerFor } from './trying/request-signer.js';
import { retryContext } from './trying/retry-context.js';
import type { Workspace } from './workspace.js';

/** Characters of unwritten echoes above which a walk waits for the log. */
const mostWaiting = 4e6;

/**
 * Sends a request and records its echo. What the network does is part of the result.
 * @throws Problem: whatever keeps the request from being sent
 */
export async function sendRequest(workspace: Workspace, prepared: PreparedRequest, sending: Sending): Promise<Sent> {
  if (workspace.dryRun) return unsent(workspace, prepared, sending);
  const outside = outsideOf(workspace, prepared, sending);
  const sessions = outside ? [] : (sending.sessions ?? prepared.plan.sessions);
  // No session is opened until the environment permits the request.
  const own = resolutionInput(workspace, sending);
  if (sessions.length > 0)
    own.supplied = await sessionVariables(workspace, sessions, false, own.runtime, sending.caller);
  const { supplied } = own;
  const input = outside === 'typed' ? outsideInput(own) : own;
  const inside = resolveRequest(prepared.plan, input);
  for (const [name, named] of inside.inputs)
    if (named && (named.secret || isSecretName(name))) workspace.redactor.add(named.value);
  const resolved = outside ? { ...inside, request: outsideRequest(inside.request, outside) } : inside;
  let bare = composed(workspace, resolved.request, sending.lines);
  if (sending.onAccepted) {
    await acceptCertificate(workspace, bare, sending.onAccepted);
    bare = pinned(workspace, bare);
  }
  const chosen = outside
    ? undefined
    : sending.signature === undefined
      ? prepared.signer
      : await signerFor(workspace, prepared, sending.signature);
  const signer = chosen && requestSigner(workspace, chosen, input.runtime, sending.caller);
  const anew =
    supplied &&
    (async (): Promise<Composed> => {
      const renewed = await sessionVariables(workspace, sessions, true, input.runtime, sending.caller);
      const resolution = resolveRequest(prepared.plan, { ...input, supplied: renewed });
      return { ...resolution, bare: composed(workspace, resolution.request, sending.lines) };
    });
  const { request } = resolved;
  const changing = !sending.changesNothing && (request.changes || changesByDocumentation(workspace, prepared));
  const conversation: Conversation = { workspace, sessions, sending, signer, changing, anew };
  if (changing) await workspace.requireChange({ host: bare.url.host, method: request.method, url: bare.shownUrl });
  // What sessions supply is computed where the environment permits the request, and after each renewal.
  let current: Composed = (await anew?.()) ?? { ...resolved, bare };
  const undocumented = sending.documented
    ? await undocumentedParts(workspace, current.request, sending.documented, await wholeBefore(conversation, current))
    : [];

  const tried = await inTries(
    retryContext(workspace, prepared, sending, current, (own) => new Evaluation(own ?? current.names, input)),
    async () => {
      const tried = await authenticatedAttempt(conversation, current);
      current = tried.composed;
      return tried;
    },
    // An early try is not the result: it is not judged, and nothing is kept of it.
    (early) => record(conversation, early, unjudged(early.outcome), true),
  );
  const { outcome } = tried.attempt;
  const judging = orElse(
    () => judgeOutcome(workspace, prepared, sending, outcome, current.names, input),
    (problem): Judged => ({ ...unjudged(outcome), problems: [problem] }),
  );
  const judged = judging instanceof Promise ? await judging : judging;
  const sent = concluded(conversation, tried, judged, undocumented);
  if (workspace.log.waiting > mostWaiting)
    await workspace.log.flushed().catch((error: unknown) => judged.problems.push(asProblem(error)));
  return sent;
}

/** Records the last try and puts the result together. */
function concluded(
  conversation: Conversation,
  { attempt, tries, gaveUp }: Tried<Attempt>,
  judged: Judged,
  undocumented: Sent['undocumented'],
): Sent {
  const { workspace } = conversation;
  const { composed, wire, exchanged, faults } = attempt;
  const { problems: found } = judged;
  record(
    conversation,
    attempt,
    judged,
    found.length > 0 && conversation.sending.asksAgain?.(judged.outcome.received) === true,
  );
  // Listed one by one: object spread is measurably slower here.
  const { outcome, verdicts, kept, problems } = judged;
  const sent = {
    echo: exchanged.echo,
    at: exchanged.at,
    tries,
    request: composed.request,
    wire,
    undocumented,
    warnings: allWarnings(wire, workspace, outcome.received),
    contradiction: undefined,
    accessDenied: undefined,
    outcome,
    verdicts,
    kept,
    problems,
  };
  if (faults.length > 0) problems.unshift(...faults);
  try {
    return withRemarks(sent, conversation, attempt, problems, gaveUp);
  } catch (error) {
    problems.push(asProblem(error));
    return sent;
  }
}

function allWarnings(wire: WireRequest, workspace: Workspace, received: Received | undefined): readonly string[] {
  const ofRequest = warningsOf(wire, workspace);
  const ofResponse = received ? responseWarnings(received) : [];
  return ofResponse.length === 0 ? ofRequest : [...ofRequest, ...ofResponse];
}

/** Adds what the response and its signature say beyond the verdicts. */
function withRemarks(
  sent: Sent,
  { workspace, sessions, signer }: Conversation,
  { composed: { request }, wire, inside, outcome }: Attempt,
  problems: Problem[],
  gaveUp: string | undefined,
): Sent {
  const { received } = outcome;
  const signature = signer && { signature: signer.signer.name, request: request.name };
  const accessDenied = received && accessDeniedBy(workspace, sessions, wire.headers, received, inside, signature);
  const distrust = received && !outcome.trouble ? signer?.distrust(received, wire) : undefined;
  if (distrust) problems.push(distrust);
  if (gaveUp !== undefined && problems.length > 0) problems.push(new Problem('step-failed', { what: gaveUp }));
  const contradiction = received && problems.length === 0 ? contradictionIn(received, sent.verdicts) : undefined;
  return accessDenied || contradiction ? { ...sent, accessDenied, contradiction } : sent;
}

/** @throws Problem tls-failed: the host shows no certificate */
async function acceptCertificate(
  { pins }: Workspace,
  { url, connection }: WireRequest,
  onAccepted: NonNullable<Sending['onAccepted']>,
): Promise<void> {
  const facts = url.protocol === 'https:' ? await certificateOf(url, connection.tls?.serverName) : undefined;
  if (!facts) {
    throw new Problem('tls-failed', {
      what: `${url.host} shows no certificate to accept`,
      where: 'connecting',
      cause: url.protocol === 'https:' ? 'no TLS connection was made' : 'the address is http',
    });
  }
  onAccepted(facts, await pins.accept(url, facts));
}

/** The request with everything attached, for validation; undefined while a session is not open, or a signature adds more. */
async function wholeBefore(
  { workspace, sessions, signer, sending }: Conversation,
  { request, bare }: Composed,
): Promise<WireRequest | undefined> {
  if (signer) return undefined;
  const { lines, query, notOpen } = await workspace.sessions.peek(sessions, sending.caller);
  const beside = { lines, query, identity: undefined };
  return notOpen.length > 0 ? undefined : attached(workspace, request, bare, beside);
}
