/** One try, sent again where authentication requires it: a challenge, a clock that differs, or an expired token. */
import { asProblem } from '../../problem/problem.js';
import { refusedInside } from '../sessions/session-variables.js';
import type { Workspace } from '../workspace.js';
import { type Attempt, attachedHeard, attempt } from './attempt.js';
import type { Composed, Conversation } from './conversation.js';
import { record, unjudged } from './exchanged.js';

export function authenticatedAttempt(conversation: Conversation, composed: Composed): Promise<Attempt> {
  const { workspace, sessions, signer } = conversation;
  // Without a session or a server-clock signature the response needs no auth handling.
  const hears = sessions.length > 0 || (signer !== undefined && workspace.environment.clock === 'follow-server');
  return hears ? challenged(conversation, composed) : attempt(conversation, composed);
}

async function challenged(conversation: Conversation, composed: Composed): Promise<Attempt> {
  const { workspace, sessions, signer } = conversation;
  const { host } = composed.bare.url;
  const ahead = workspace.clocks.ahead(host);
  let tried = await attempt(conversation, composed);
  try {
    await heard();
  } catch (error) {
    // The response is kept, whatever prevents a further try.
    tried.faults.push(asProblem(error));
  }
  return tried;

  async function heard(): Promise<void> {
    const { attached } = tried;
    // The first response of a server with challenges carries the nonce; an expired nonce comes with the next one.
    for (let rounds = 0; rounds < 3 && attachedHeard(workspace, tried); rounds += 1) await again();
    // The refusal itself showed that the clock of the signature was wrong.
    if (signer && refusedStatus(tried) && workspace.environment.clock === 'follow-server')
      if (workspace.clocks.ahead(host) !== ahead) await again();
    // Only session files describe refusals inside a response.
    if (sessions.length > 0) tried.inside = await refusesInside(workspace, sessions, tried);
    const refused = tried.inside || tried.outcome.received?.status === 401;
    if (!attached || !refused) return;
    // A token that worked before and is refused now has expired: renew it and send once more.
    // The refused try is recorded before the renewal; if nothing can be renewed, it is recorded again as the result.
    recordEarly();
    const renewed = await workspace.sessions.renew(attached, (opened) =>
      workspace.gate(host).lend(opened, conversation.sending.signal),
    );
    if (!renewed) return;
    tried = await attempt(conversation, (await conversation.anew?.()) ?? composed);
    tried.inside = await refusesInside(workspace, sessions, tried);
  }

  async function again(): Promise<void> {
    recordEarly();
    tried = await attempt(conversation, composed);
  }

  function recordEarly(): void {
    record(conversation, tried, unjudged(tried.outcome), true);
  }
}

const refusedStatus = ({ outcome: { received } }: Attempt): boolean =>
  received?.status === 401 || received?.status === 403;

const refusesInside = async (
  workspace: Workspace,
  sessions: readonly string[],
  { outcome: { received, trouble } }: Attempt,
): Promise<boolean> => received !== undefined && !trouble && refusedInside(workspace, sessions, received);
