/** One sending, from names to echo: resolve, attach sessions, compose, send, judge, keep, record. */
import { findOperation } from '../collection/source-index.js';
import type { Mismatch } from '../documentation/mismatch.js';
import { recordEcho } from '../echo/record.js';
import { requestMismatches } from '../exchange/against-documentation.js';
import { certificateOf } from '../exchange/certificate.js';
import { type Giving, resolveRequest } from '../exchange/resolve.js';
import type { ResolvedRequest, WireRequest } from '../exchange/wire.js';
import { contradictionIn } from '../expectation/contradiction.js';
import { takeKeeps } from '../expectation/keeps.js';
import { Evaluation } from '../expression/evaluation.js';
import { type Names, noNames } from '../expression/names.js';
import { asAnswer } from '../place/observed.js';
import { Problem } from '../problem/problem.js';
import type { Signer } from '../signature/signature-kind.js';
import type { Value } from '../value/written.js';
import { type Attempt, composed, jarFor } from './attempt.js';
import { type Conversation, converse, workOutAnew } from './converse.js';
import { doubtsOf } from './doubts.js';
import { type Judged, judgeOutcome } from './judge-outcome.js';
import { inTries } from './pacing/tries.js';
import type { PreparedRequest } from './prepare.js';
import { refusalOf } from './refusal.js';
import { sealFor } from './seal.js';
import type { Preview, Sending, Sent } from './sending.js';
import { suppliedNames } from './supply.js';
import { tryRoom } from './try-room.js';
import type { Workspace } from './workspace.js';

function givingOf(
  workspace: Workspace,
  { given, caller, idempotencyKey, address }: Pick<Sending, 'given' | 'caller' | 'idempotencyKey' | 'address'>,
  supplied?: Names,
): Giving & { supplied: Names | undefined } {
  const { layers, redactor, timeout, connection } = workspace;
  const world = workspace.world();
  const onSecret = redactor.add;
  return { layers, given, caller, timeout, connection, world, onSecret, idempotencyKey, address, supplied };
}

/** @throws Problem: whatever keeps the request from being written */
export async function previewRequest(
  workspace: Workspace,
  prepared: PreparedRequest,
  sending: Pick<Sending, 'given' | 'caller' | 'sessions' | 'signature' | 'noCookies' | 'documented'>,
): Promise<Preview> {
  const sessions = sending.sessions ?? prepared.plan.sessions;
  const giving = givingOf(workspace, sending);
  const { request } = resolveRequest(prepared.plan, {
    ...giving,
    supplied: await suppliedNames(workspace, sessions, false),
    withOrigins: true,
  });
  const { lines, query, notOpen } = await workspace.sessions.peek(sessions);
  const bare = composed(workspace, request, lines, query);
  const cookie = (await jarFor(workspace, sessions, sending.noCookies)).line(bare.url);
  const unsigned = cookie ? composed(workspace, request, [...lines, cookie], query) : bare;
  const signer = await signerFor(workspace, prepared, sending.signature);
  const seal = signer && sealFor(workspace, signer, giving.world, sending.caller);
  const signed = seal?.sign(unsigned, 'look');
  const wire = signed?.wire ?? unsigned;
  const whole = notOpen.length === 0 && !signed?.missing;
  return {
    request,
    notOpen,
    doubts: doubtsOf(bare, workspace),
    undocumented: sending.documented
      ? undocumentedParts(workspace, request, sending.documented, whole ? wire : undefined)
      : [],
    wire,
    signed: seal &&
      signed && {
        name: seal.signer.name,
        steps: signed.steps,
        missing: signed.missing,
        clock: {
          ahead: workspace.clocks.ahead(bare.url.host),
          followed: workspace.environment.clock === 'follow-server' && workspace.moment?.now === undefined,
        },
      },
  };
}

/** undefined where the request is not signed. @param given in place of what its file says */
async function signerFor(
  workspace: Workspace,
  prepared: PreparedRequest,
  given: string | undefined,
): Promise<Signer | undefined> {
  if (given === undefined) return prepared.signer;
  return given === 'none' ? undefined : workspace.signer(given);
}

/**
 * Sends a request and records its echo. What the network does is part of the result.
 * @throws Problem: whatever keeps the request from being sent
 */
export async function sendRequest(workspace: Workspace, prepared: PreparedRequest, sending: Sending): Promise<Sent> {
  if (workspace.dryRun) return unsent(workspace, prepared, sending);
  const sessions = sending.sessions ?? prepared.plan.sessions;
  // Before it is clear that the request may leave, no session is opened for it.
  const supplied = sessions.length > 0 ? await suppliedNames(workspace, sessions, false) : undefined;
  const giving = givingOf(workspace, sending, supplied);
  let { request, names, inputs } = resolveRequest(prepared.plan, giving);
  let bare = composed(workspace, request, sending.lines ?? []);
  if (sending.onAccepted) {
    await acceptCertificate(workspace, bare, sending.onAccepted);
    bare = composed(workspace, request, sending.lines ?? []);
  }
  if (sessions.length > 0) workspace.hosts.demand(bare.url, `the session ${sessions.join(', ')}`);
  const signer =
    sending.signature === undefined ? prepared.signer : await signerFor(workspace, prepared, sending.signature);
  const seal = signer && sealFor(workspace, signer, giving.world, sending.caller);
  if (seal) workspace.hosts.demand(bare.url, `the signature ${seal.signer.name}`);
  if (request.changes || changesByDocumentation(workspace, prepared))
    await workspace.demandChange({ host: bare.url.host, method: request.method, url: bare.shownUrl });

  const record = ({ at, wire }: Attempt, judged: Judged, again?: 'again'): string => {
    const id = workspace.log.nextId();
    const { name: environment } = workspace.environment;
    const { step, row } = sending;
    const { name, operation } = talk.request;
    const occasion = {
      id,
      at,
      environment,
      request: name,
      operation,
      sessions,
      inputs,
      step,
      row,
      again: again && true,
    };
    const { outcome, verdicts, kept } = judged;
    const { redactor, log } = workspace;
    log.append(
      () => recordEcho(occasion, wire, outcome, verdicts, kept, redactor, log.beside),
      (wire.body?.shown.length ?? 0) + (outcome.received?.parts.body.length ?? 0),
    );
    return id;
  };
  const talk: Conversation = {
    workspace,
    sessions,
    sending,
    seal,
    request,
    bare,
    anew:
      supplied &&
      (async () => {
        giving.supplied = await suppliedNames(workspace, sessions, true);
        const again = resolveRequest(prepared.plan, giving);
        ({ names, inputs } = again);
        return again.request;
      }),
  };
  if (talk.anew) await workOutAnew(talk, sending.lines);
  const undocumented = sending.documented
    ? undocumentedParts(workspace, talk.request, sending.documented, await wholeBefore(talk))
    : [];
  const {
    attempt: tried,
    tries,
    gaveUp,
  } = await inTries(
    tryRoom(workspace, prepared, sending, talk, (own) => new Evaluation(own ?? names, giving)),
    () => converse(talk),
    async (early) => {
      // It is not the answer: nothing is expected of it, and nothing is kept.
      record(early, { outcome: early.outcome, verdicts: [], kept: [], problems: [] }, 'again');
    },
  );
  const { inside } = tried;
  request = talk.request;
  const { wire, outcome } = tried;
  const { received } = outcome;
  const refusal =
    received &&
    refusalOf(
      workspace,
      sessions,
      wire.headers,
      received,
      inside,
      seal && { signature: seal.signer.name, request: request.name },
    );

  const judging = judgeOutcome(workspace, prepared, sending, outcome, names, giving);
  const judged = judging instanceof Promise ? await judging : judging;
  const distrust = received && !outcome.trouble ? seal?.distrust(received, wire) : undefined;
  if (distrust) judged.problems.push(distrust);
  if (gaveUp !== undefined && judged.problems.length > 0)
    judged.problems.push(new Problem('step-failed', { what: gaveUp }));
  const id = record(tried, judged);
  if (workspace.log.waiting > 4e6) await workspace.log.flushed();
  // Each by its name: to spread them costs as much as a whole expectation.
  const { verdicts, kept, problems } = judged;
  const doubts = doubtsOf(wire, workspace);
  const contradiction = received && problems.length === 0 ? contradictionIn(received, verdicts) : undefined;
  return {
    echo: id,
    tries,
    request,
    wire,
    undocumented,
    doubts,
    contradiction,
    refusal,
    outcome: judged.outcome,
    verdicts,
    kept,
    problems,
  };
}

/** Looked up only where it matters: the documentation may know of a GET that changes something. */
function changesByDocumentation({ environment, collection }: Workspace, { plan }: PreparedRequest): boolean {
  const { changes, operation } = plan.content;
  if (environment.changes === 'allow' || changes !== undefined || operation === undefined) return false;
  try {
    return findOperation(collection, operation).changes;
  } catch {
    // What is wrong with its name is told by check.
    return false;
  }
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
  request,
  sending,
}: Conversation): Promise<WireRequest | undefined> {
  if (seal) return undefined;
  const { lines, query, notOpen } = await workspace.sessions.peek(sessions);
  return notOpen.length > 0 ? undefined : composed(workspace, request, [...(sending.lines ?? []), ...lines], query);
}

/** @throws Problem not-documented: the request differs, and that is refused */
function undocumentedParts(
  workspace: Workspace,
  request: ResolvedRequest,
  how: 'tell' | 'refuse',
  wire: WireRequest | undefined,
): readonly Mismatch[] {
  if (request.operation === undefined) return [];
  const found = requestMismatches(request, findOperation(workspace.collection, request.operation), wire);
  if (how === 'tell' || found.length === 0) return found;
  throw new Problem('not-documented', {
    what: `the request differs from ${request.operation}: ${found.map(({ at, what }) => `${at} ${what}`).join('; ')}`,
    remedy: `echo-trail docs show ${request.operation}; without --strict it is sent with a warning`,
    data: { operation: request.operation },
  });
}

/** Everything but the sending: what is kept is taken from the documented answer, where there is one. */
async function unsent(workspace: Workspace, prepared: PreparedRequest, sending: Sending): Promise<Sent> {
  const { request, wire, doubts } = await previewRequest(workspace, prepared, sending);
  if (request.changes && workspace.environment.changes === 'refuse')
    await workspace.demandChange({ host: wire.url.host, method: request.method, url: wire.shownUrl });
  const surroundings = { world: workspace.world(), onSecret: workspace.redactor.add };
  const { kept } = takeKeeps(
    [...prepared.keeps, ...(sending.keeps ?? [])],
    asAnswer(documentedExample(workspace, request.operation)),
    new Evaluation(noNames, surroundings),
  );
  const outcome = { received: undefined, trouble: undefined };
  const nothing = { verdicts: [], undocumented: [], problems: [], contradiction: undefined, refusal: undefined };
  return { echo: '', tries: 0, request, wire, doubts, outcome, kept, ...nothing };
}

/** The first documented answer that is no error. */
function documentedExample({ collection }: Workspace, operation: string | undefined): Value {
  if (operation === undefined) return null;
  try {
    const { answers } = findOperation(collection, operation);
    const good = answers.find(
      ({ status, content }) => /^(?:2|default)/i.test(status) && content?.example !== undefined,
    );
    return good?.content?.example ?? null;
  } catch {
    // What is wrong with its name is told by check.
    return null;
  }
}
