/** One try as the vendor sees it: with its sessions and its signature, and what they want to be sent again for. */
import { asProblem } from '../../problem/problem.js';
import { refusedInside } from '../sessions/session-variables.js';
import type { Workspace } from '../workspace.js';
import { type Attempt, attachedHeard, attempt, composed } from './attempt.js';
import type { Conversation } from './conversation.js';
import { record, unjudged } from './exchanged.js';

export function authenticatedAttempt(talk: Conversation): Promise<Attempt> {
  const { workspace, sessions, seal } = talk;
  // Who shows no session, and no signature by another's clock, has nothing to hear in the response.
  const hears = sessions.length > 0 || (seal !== undefined && workspace.environment.clock === 'follow-server');
  return hears ? conversation(talk) : attempt(talk);
}

async function conversation(talk: Conversation): Promise<Attempt> {
  const { workspace } = talk;
  const { host } = talk.bare.url;
  const ahead = workspace.clocks.ahead(host);
  let tried = await attempt(talk);
  try {
    await heard();
  } catch (error) {
    // What came back is there, whatever keeps the request from being sent again.
    tried.faults.push(asProblem(error));
  }
  return tried;

  async function heard(): Promise<void> {
    const { sessions, seal } = talk;
    const { attached } = tried;
    // A server that wants a proof says first of what; a nonce that ended is answered with the next.
    for (let rounds = 0; rounds < 3 && attachedHeard(workspace, tried); rounds += 1) await again();
    // The clock that a signature was made with was found to be wrong by its very refusal.
    if (seal && refusedStatus(tried) && workspace.environment.clock === 'follow-server')
      if (workspace.clocks.ahead(host) !== ahead) await again();
    // Without a session nobody is refused by name, and there is nothing to wait for.
    if (sessions.length > 0) tried.inside = await refusesInside(workspace, sessions, tried);
    const refused = tried.inside || tried.outcome.received?.status === 401;
    if (!attached || !refused) return;
    // A token that was good once and is refused now has ended: once more with a new one.
    // It is recorded before what it leads to; where nothing can be renewed, it is recorded once more, as the response.
    record(talk, tried.exchanged, unjudged(tried.outcome), true);
    const renewed = await workspace.sessions.renew(attached);
    if (!renewed) return;
    if (talk.anew) await workOutAnew(talk);
    tried = await attempt(talk);
    tried.inside = await refusesInside(workspace, sessions, tried);
  }

  async function again(): Promise<void> {
    record(talk, tried.exchanged, unjudged(tried.outcome), true);
    tried = await attempt(talk);
  }
}

export async function workOutAnew(talk: Conversation): Promise<void> {
  if (!talk.anew) return;
  talk.resolved = await talk.anew();
  talk.bare = composed(talk.workspace, talk.resolved.request, talk.sending.lines);
}

const refusedStatus = ({ outcome: { received } }: Attempt): boolean =>
  received?.status === 401 || received?.status === 403;

const refusesInside = async (
  workspace: Workspace,
  sessions: readonly string[],
  { outcome: { received, trouble } }: Attempt,
): Promise<boolean> => received !== undefined && !trouble && refusedInside(workspace, sessions, received);
