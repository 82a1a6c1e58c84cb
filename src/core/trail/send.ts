/** One sending, from names to echo: resolve, attach sessions, compose, send, judge, keep, record. */
import { findOperation } from '../collection/source-index.js';
import type { Mismatch } from '../documentation/mismatch.js';
import { recordEcho } from '../echo/record.js';
import { requestMismatches } from '../exchange/against-documentation.js';
import { certificateOf } from '../exchange/certificate.js';
import { type Giving, resolveRequest } from '../exchange/request-plan.js';
import type { ResolvedRequest, WireRequest } from '../exchange/wire.js';
import { Problem } from '../problem/problem.js';
import type { Signer } from '../signature/signature-kind.js';
import { type Attempt, attachedHeard, attempt, composed, jarFor } from './attempt.js';
import { doubtsOf } from './doubts.js';
import { judgeOutcome } from './judge-outcome.js';
import type { PreparedRequest } from './prepare.js';
import { refusalOf } from './refusal.js';
import { sealFor } from './seal.js';
import type { Preview, Sending, Sent } from './sending.js';
import { refusedInside, suppliedNames } from './supply.js';
import type { Workspace } from './workspace.js';

function givingOf(workspace: Workspace, { given, caller }: Pick<Sending, 'given' | 'caller'>): Giving {
  const { layers, redactor, timeout, connection } = workspace;
  return { layers, given, caller, timeout, connection, world: workspace.world(), onSecret: redactor.add };
}

/** @throws Problem: whatever keeps the request from being written */
export async function previewRequest(
  workspace: Workspace,
  prepared: PreparedRequest,
  sending: Pick<Sending, 'given' | 'caller' | 'sessions' | 'signature' | 'noCookies'>,
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
  return {
    request,
    notOpen,
    doubts: doubtsOf(bare, workspace),
    wire: signed?.wire ?? unsigned,
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
  const sessions = sending.sessions ?? prepared.plan.sessions;
  // Before it is clear that the request may leave, no session is opened for it.
  const supplied = sessions.length > 0 ? await suppliedNames(workspace, sessions, false) : undefined;
  const giving = { ...givingOf(workspace, sending), supplied };
  let { request, names } = resolveRequest(prepared.plan, giving);
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

  const anew = async (): Promise<void> => {
    giving.supplied = await suppliedNames(workspace, sessions, true);
    ({ request, names } = resolveRequest(prepared.plan, giving));
    bare = composed(workspace, request, sending.lines ?? []);
  };
  if (supplied) await anew();
  const undocumented = sending.documented ? undocumentedParts(workspace, request, sending.documented) : [];
  const ahead = workspace.clocks.ahead(bare.url.host);
  const once = (): Promise<Attempt> => attempt(workspace, request, bare, sessions, sending, seal);
  let tried = await once();
  const { attached } = tried;
  // A server that wants a proof says first of what; a nonce that ended is answered with the next.
  for (let rounds = 0; rounds < 3 && attachedHeard(workspace, tried); rounds += 1) tried = await once();
  // The clock that a signature was made with was found to be wrong by its very refusal.
  if (seal && refusedStatus(tried) && workspace.environment.clock === 'follow-server')
    if (workspace.clocks.ahead(bare.url.host) !== ahead) tried = await once();
  let inside = await refusesInside(workspace, sessions, tried);
  const refused = inside || tried.outcome.received?.status === 401;
  // A token that was good once and is refused now has ended: once more with a new one.
  if (attached && refused && (await workspace.sessions.renew(attached))) {
    if (supplied) await anew();
    tried = await once();
    inside = await refusesInside(workspace, sessions, tried);
  }
  const { at, wire, outcome } = tried;
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

  const judged = await judgeOutcome(workspace, prepared, sending, outcome, names, giving);
  const distrust = received && !outcome.trouble ? seal?.distrust(received, wire) : undefined;
  if (distrust) judged.problems.push(distrust);
  const id = workspace.log.nextId();
  const environment = workspace.environment.name;
  const { step, row } = sending;
  workspace.log.append(
    recordEcho(
      { id, at, environment, request: request.name, operation: request.operation, sessions, step, row },
      wire,
      judged.outcome,
      judged.verdicts,
      judged.kept,
      workspace.redactor,
      workspace.log.beside,
    ),
  );
  if (workspace.log.waiting > 4e6) await workspace.log.flushed();
  return { echo: id, request, wire, undocumented, doubts: doubtsOf(wire, workspace), refusal, ...judged };
}

const refusedStatus = ({ outcome: { received } }: Attempt): boolean =>
  received?.status === 401 || received?.status === 403;

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

/** In the words of the vendor, whatever the status. */
const refusesInside = async (
  workspace: Workspace,
  sessions: readonly string[],
  { outcome: { received, trouble } }: Attempt,
): Promise<boolean> =>
  received !== undefined && !trouble && sessions.length > 0 && refusedInside(workspace, sessions, received);

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

/** @throws Problem not-documented: the request differs, and that is refused */
function undocumentedParts(
  workspace: Workspace,
  request: ResolvedRequest,
  how: 'tell' | 'refuse',
): readonly Mismatch[] {
  if (request.operation === undefined) return [];
  const found = requestMismatches(request, findOperation(workspace.collection, request.operation));
  if (how === 'tell' || found.length === 0) return found;
  throw new Problem('not-documented', {
    what: `the request differs from ${request.operation}: ${found.map(({ at, what }) => `${at} ${what}`).join('; ')}`,
    remedy: `echo-trail docs show ${request.operation}; without --strict it is sent with a warning`,
    data: { operation: request.operation },
  });
}
