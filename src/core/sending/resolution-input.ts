/** What a request is computed from when it is sent: layers of names, what its caller gives, what its environment says. */
import type { ResolutionInput } from '../exchange/request/resolve.js';
import type { Names } from '../expression/names.js';
import type { Sending } from './sending.js';
import type { Workspace } from './workspace.js';

export function resolutionInput(
  workspace: Workspace,
  { given, caller, idempotencyKey, address }: Pick<Sending, 'given' | 'caller' | 'idempotencyKey' | 'address'>,
): ResolutionInput & { /** Another renewal of its sessions may replace them. */ supplied: Names | undefined } {
  const { layers, redactor, timeout, connection } = workspace;
  const runtime = workspace.runtime();
  const onSecret = redactor.add;
  return {
    layers,
    given,
    caller,
    timeout,
    connection,
    runtime,
    onSecret,
    idempotencyKey,
    address,
    supplied: undefined,
  };
}
