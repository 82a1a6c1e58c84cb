/** One try as the vendor sees it: with its sessions and its signature, and what they want to be sent again for. */
import type { Resolution } from '../exchange/resolve.js';
import type { WireRequest } from '../exchange/wire.js';
import { type Attempt, attachedHeard, attempt, composed } from './attempt.js';
import type { Seal } from './seal.js';
import type { Sending } from './sending.js';
import { refusedInside } from './supply.js';
import type { Workspace } from './workspace.js';

export interface Conversation {
  readonly workspace: Workspace;
  readonly sessions: readonly string[];
  readonly sending: Sending;
  readonly seal: Seal | undefined;
  /** The request and its names as they are now: a renewed session may have supplied others. */
  resolved: Resolution;
  bare: WireRequest;
  /** Works the request out once more; undefined where no session supplies anything. */
  readonly anew: (() => Promise<Resolution>) | undefined;
}

export function converse(talk: Conversation): Promise<Attempt> {
  const { workspace, sessions, sending, seal, resolved, bare } = talk;
  // Who shows no session, and no signature by another's clock, has nothing to hear in the answer.
  const hears = sessions.length > 0 || (seal !== undefined && workspace.environment.clock === 'follow-server');
  return hears ? conversation(talk) : attempt(workspace, resolved.request, bare, sessions, sending, seal);
}

async function conversation(talk: Conversation): Promise<Attempt> {
  const { workspace, sessions, sending, seal } = talk;
  const { host } = talk.bare.url;
  const ahead = workspace.clocks.ahead(host);
  const once = (): Promise<Attempt> => attempt(workspace, talk.resolved.request, talk.bare, sessions, sending, seal);
  let tried = await once();
  const { attached } = tried;
  // A server that wants a proof says first of what; a nonce that ended is answered with the next.
  for (let rounds = 0; rounds < 3 && attachedHeard(workspace, tried); rounds += 1) tried = await once();
  // The clock that a signature was made with was found to be wrong by its very refusal.
  if (seal && refusedStatus(tried) && workspace.environment.clock === 'follow-server')
    if (workspace.clocks.ahead(host) !== ahead) tried = await once();
  // Without a session nobody is refused by name, and there is nothing to wait for.
  if (sessions.length > 0) tried.inside = await refusesInside(workspace, sessions, tried);
  const refused = tried.inside || tried.outcome.received?.status === 401;
  // A token that was good once and is refused now has ended: once more with a new one.
  if (attached && refused && (await workspace.sessions.renew(attached))) {
    if (talk.anew) await workOutAnew(talk);
    tried = await once();
    tried.inside = await refusesInside(workspace, sessions, tried);
  }
  return tried;
}

export async function workOutAnew(talk: Conversation): Promise<void> {
  if (!talk.anew) return;
  talk.resolved = await talk.anew();
  talk.bare = composed(talk.workspace, talk.resolved.request, talk.sending.lines ?? []);
}

const refusedStatus = ({ outcome: { received } }: Attempt): boolean =>
  received?.status === 401 || received?.status === 403;

const refusesInside = async (
  workspace: Workspace,
  sessions: readonly string[],
  { outcome: { received, trouble } }: Attempt,
): Promise<boolean> => received !== undefined && !trouble && refusedInside(workspace, sessions, received);
