/** A request as it would leave, and nothing sent. */
import { resolveRequest } from '../exchange/request/resolve.js';
import { takeKeeps } from '../expectation/keeps.js';
import { Evaluation } from '../expression/evaluation.js';
import { noNames } from '../expression/names.js';
import { asResponse } from '../place/observed.js';
import { documentedExample, undocumentedParts } from './judging/documented.js';
import { warningsOf } from './judging/warnings.js';
import { outsideInput, outsideOf, outsideRequest } from './outside.js';
import type { PreparedRequest } from './prepare.js';
import { resolutionInput } from './resolution-input.js';
import type { Preview, Sending, Sent } from './sending.js';
import { sessionVariables } from './sessions/session-variables.js';
import { attached, composed, jarFor } from './trying/attempt.js';
import { requestSigner, signerFor } from './trying/request-signer.js';
import type { Workspace } from './workspace.js';

/** @throws Problem: whatever keeps the request from being written */
export async function previewRequest(
  workspace: Workspace,
  prepared: PreparedRequest,
  sending: Pick<Sending, 'given' | 'caller' | 'sessions' | 'signature' | 'noCookies' | 'documented' | 'outside'>,
): Promise<Preview> {
  const outside = outsideOf(workspace, prepared, sending);
  const sessions = outside ? [] : (sending.sessions ?? prepared.plan.sessions);
  const own = resolutionInput(workspace, sending);
  const input = outside === 'typed' ? outsideInput(own) : own;
  const resolved = resolveRequest(prepared.plan, {
    ...input,
    supplied: await sessionVariables(workspace, sessions, false, input.runtime, sending.caller),
    withOrigins: true,
  }).request;
  const request = outside ? outsideRequest(resolved, outside) : resolved;
  const { lines, query, blocks, notOpen } = await workspace.sessions.peek(sessions, sending.caller);
  const identity = undefined;
  const bare = attached(workspace, request, composed(workspace, request), { lines, query, blocks, identity });
  const cookie = (await jarFor(workspace, sessions, outside ? true : sending.noCookies, sending.caller)).line(bare.url);
  const unsigned = cookie ? attached(workspace, request, bare, { lines: [cookie], query: [], identity }) : bare;
  const chosen = await signerFor(workspace, prepared, outside ? 'none' : sending.signature);
  const signer = chosen && requestSigner(workspace, chosen, input.runtime, sending.caller);
  const signed = signer?.sign(unsigned, 'look');
  const wire = signed?.wire ?? unsigned;
  const whole = notOpen.length === 0 && !signed?.missing;
  return {
    request,
    notOpen,
    warnings: warningsOf(bare, workspace),
    undocumented: sending.documented
      ? await undocumentedParts(workspace, request, sending.documented, whole ? wire : undefined)
      : [],
    wire,
    signed: signer &&
      signed && {
        name: signer.signer.name,
        steps: signed.steps,
        missing: signed.missing,
        clock: {
          ahead: workspace.clocks.ahead(bare.url.host),
          followed: workspace.environment.clock === 'follow-server' && workspace.moment?.now === undefined,
        },
      },
  };
}

/** A dry run's sending: what is kept is taken from the documented response, where there is one. */
export async function unsent(workspace: Workspace, prepared: PreparedRequest, sending: Sending): Promise<Sent> {
  const { request, wire, warnings } = await previewRequest(workspace, prepared, sending);
  if (request.changes && workspace.environment.changes === 'refuse')
    await workspace.requireChange({ host: wire.url.host, method: request.method, url: wire.shownUrl });
  const evaluationContext = workspace.evaluationContext();
  const { kept } = takeKeeps(
    [...prepared.keeps, ...(sending.keeps ?? [])],
    asResponse(documentedExample(workspace, request.operation)),
    new Evaluation(noNames, evaluationContext),
  );
  const outcome = { received: undefined, trouble: undefined };
  const nothing = { verdicts: [], undocumented: [], problems: [], contradiction: undefined, accessDenied: undefined };
  return { echo: '', at: new Date(), tries: 0, request, wire, warnings, outcome, kept, ...nothing };
}
