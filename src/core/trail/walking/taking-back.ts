/** Sending what takes something back: known to be on its way before it leaves, and not sent twice where that might do more. */

import { callInDoubt, isRepeatable } from '../../pacing/repeatable.js';
import type { PreparedRequest } from '../../sending/prepare.js';
import { sendRequest } from '../../sending/send.js';
import type { Sending } from '../../sending/sending.js';
import type { Workspace } from '../../sending/workspace.js';
import type { Journal } from '../journal.js';
import type { StepResult } from '../step-kind.js';

/** @param at of the step that is taken back @throws Problem in-doubt: an earlier command sent it, and its response is not known */
export async function takeBack(
  workspace: Workspace,
  prepared: PreparedRequest,
  sending: Sending,
  journal: Journal | undefined,
  at: string,
): Promise<StepResult> {
  const before = journal?.undoingBefore(at);
  const { method, changes } = prepared.plan;
  if (before && !isRepeatable({ method, changes, idempotencyKey: before.key })) throw callInDoubt(before.call);
  let told = false;
  const sent = await sendRequest(workspace, prepared, {
    ...sending,
    idempotencyKey: before?.key,
    onLeaving: ({ idempotencyKey }, call) => {
      if (told) return undefined;
      told = true;
      return journal?.undoing(at, call(), idempotencyKey);
    },
  });
  return { sent, kept: [], problems: sent.problems };
}
