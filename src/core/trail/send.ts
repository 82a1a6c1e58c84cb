/** One sending, from names to echo: resolve, attach sessions, compose, send, judge, keep, record. */
import { recordEcho } from '../echo/record.js';
import { certificateOf } from '../exchange/certificate.js';
import { resolveRequest } from '../exchange/resolve.js';
import type { WireRequest } from '../exchange/wire.js';
import { Evaluation } from '../expression/evaluation.js';
import { contradictionIn } from '../place/contradiction.js';
import { Problem } from '../problem/problem.js';
import { isSecretName } from '../value/secret-fields.js';
import { type Attempt, composed } from './attempt.js';
import { type Conversation, converse, workOutAnew } from './converse.js';
import { changesByDocumentation, undocumentedParts } from './documented.js';
import { doubtsOf } from './doubts.js';
import { type Judged, judgeOutcome } from './judge-outcome.js';
import { outsideGiving, outsideOf, outsideRequest } from './outside.js';
import { inTries, type Tried } from './pacing/tries.js';
import type { PreparedRequest } from './prepare.js';
import { unsent } from './preview.js';
import { refusalOf } from './refusal.js';
import { givingOf } from './request-giving.js';
import { sealFor, signerFor } from './seal.js';
import type { Sending, Sent } from './sending.js';
import { suppliedNames } from './supply.js';
import { tryRoom } from './try-room.js';
import type { Workspace } from './workspace.js';

/** Characters of echoes that may wait to be written before a walk waits for them. */
const mostWaiting = 4e6;

/**
 * Sends a request and records its echo. What the network does is part of the result.
 * @throws Problem: whatever keeps the request from being sent
 */
export async function sendRequest(workspace: Workspace, prepared: PreparedRequest, sending: Sending): Promise<Sent> {
  if (workspace.dryRun) return unsent(workspace, prepared, sending);
  const outside = outsideOf(workspace, prepared, sending);
  const sessions = outside ? [] : (sending.sessions ?? prepared.plan.sessions);
  // Before it is clear that the request may leave, no session is opened for it.
  const own = givingOf(workspace, sending);
  if (sessions.length > 0) own.supplied = await suppliedNames(workspace, sessions, false, own.world, sending.caller);
  const { supplied } = own;
  const giving = outside === 'typed' ? outsideGiving(own) : own;
  const inside = resolveRequest(prepared.plan, giving);
  for (const [name, named] of inside.inputs) if (named && isSecretName(name)) workspace.redactor.add(named.value);
  const resolved = outside ? { ...inside, request: outsideRequest(inside.request, outside) } : inside;
  let bare = composed(workspace, resolved.request, sending.lines ?? []);
  if (sending.onAccepted) {
    await acceptCertificate(workspace, bare, sending.onAccepted);
    bare = composed(workspace, resolved.request, sending.lines ?? []);
  }
  const signer = outside
    ? undefined
    : sending.signature === undefined
      ? prepared.signer
      : await signerFor(workspace, prepared, sending.signature);
  const seal = signer && sealFor(workspace, signer, giving.world, sending.caller);
  const anew =
    supplied &&
    (async () => {
      giving.supplied = await suppliedNames(workspace, sessions, true, giving.world, sending.caller);
      return resolveRequest(prepared.plan, giving);
    });
  const talk: Conversation = { workspace, sessions, sending, seal, resolved, bare, anew };
  const asked = demandToLeave(talk, prepared);
  if (asked) await asked;
  if (talk.anew) await workOutAnew(talk);
  const undocumented = sending.documented
    ? undocumentedParts(workspace, talk.resolved.request, sending.documented, await wholeBefore(talk))
    : [];

  const tried = await inTries(
    tryRoom(workspace, prepared, sending, talk, (own) => new Evaluation(own ?? talk.resolved.names, giving)),
    () => converse(talk),
    async (early) => {
      // It is not the answer: nothing is expected of it, and nothing is kept.
      record(talk, early, { outcome: early.outcome, verdicts: [], kept: [], problems: [] }, 'again');
    },
  );
  const judging = judgeOutcome(workspace, prepared, sending, tried.attempt.outcome, talk.resolved.names, giving);
  const judged = judging instanceof Promise ? await judging : judging;
  const sent = concluded(talk, tried, judged, undocumented);
  if (workspace.log.waiting > mostWaiting) await workspace.log.flushed();
  return sent;
}

/**
 * Whether a call that changes something may leave.
 * @returns a promise only where somebody may have to be asked
 * @throws Problem change-refused, change-unconfirmed
 */
function demandToLeave(
  { workspace, sending, resolved: { request }, bare }: Conversation,
  prepared: PreparedRequest,
): Promise<void> | undefined {
  if (sending.changesNothing) return undefined;
  if (!request.changes && !changesByDocumentation(workspace, prepared)) return undefined;
  return workspace.demandChange({ host: bare.url.host, method: request.method, url: bare.shownUrl });
}

/** What became of it, recorded. */
function concluded(
  talk: Conversation,
  { attempt, tries, gaveUp }: Tried<Attempt>,
  judged: Judged,
  undocumented: Sent['undocumented'],
): Sent {
  const { workspace, sessions, seal, resolved } = talk;
  const { request } = resolved;
  const { wire, outcome, inside } = attempt;
  const { received } = outcome;
  const signature = seal && { signature: seal.signer.name, request: request.name };
  const refusal = received && refusalOf(workspace, sessions, wire.headers, received, inside, signature);
  // Each by its name: to spread them costs as much as a whole expectation.
  const { verdicts, kept, problems } = judged;
  const distrust = received && !outcome.trouble ? seal?.distrust(received, wire) : undefined;
  if (distrust) problems.push(distrust);
  if (gaveUp !== undefined && problems.length > 0) problems.push(new Problem('step-failed', { what: gaveUp }));
  return {
    echo: record(talk, attempt, judged),
    tries,
    request,
    wire,
    undocumented,
    doubts: doubtsOf(wire, workspace),
    contradiction: received && problems.length === 0 ? contradictionIn(received, verdicts) : undefined,
    refusal,
    outcome: judged.outcome,
    verdicts,
    kept,
    problems,
  };
}

/** @param again it was sent once more after this @returns the id of its echo */
function record(
  { workspace, sessions, sending, resolved }: Conversation,
  { at, wire }: Attempt,
  { outcome, verdicts, kept }: Judged,
  again?: 'again',
): string {
  const { redactor, log, environment } = workspace;
  const { request, inputs } = resolved;
  const id = log.nextId();
  const occasion = {
    id,
    at,
    environment: environment.name,
    request: request.name,
    operation: request.operation,
    sessions,
    inputs,
    step: sending.step,
    row: sending.row,
    again: again && true,
  };
  log.append(
    () => recordEcho(occasion, wire, outcome, verdicts, kept, redactor, log.beside),
    (wire.body?.shown.length ?? 0) + (outcome.received?.parts.body.length ?? 0),
  );
  return id;
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
      cause: url.protocol === 'https:' ? 'no TLS connection came about' : 'the address is http',
    });
  }
  onAccepted(facts, await pins.accept(url, facts));
}

/** The request with what open sessions add; undefined where one has still to be opened, or a signature adds more. */
async function wholeBefore({
  workspace,
  sessions,
  seal,
  resolved: { request },
  sending,
}: Conversation): Promise<WireRequest | undefined> {
  if (seal) return undefined;
  const { lines, query, notOpen } = await workspace.sessions.peek(sessions, sending.caller);
  return notOpen.length > 0 ? undefined : composed(workspace, request, [...(sending.lines ?? []), ...lines], query);
}
