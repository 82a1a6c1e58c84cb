/** Signing a request at the last moment: each try, and each redirect that is followed, again. */
import { variableNames } from '../../collection/variables/variable-scopes.js';
import type { WireRequest } from '../../exchange/request/wire.js';
import type { Received } from '../../exchange/response/received.js';
import type { Runtime } from '../../expression/evaluation.js';
import { percentEncode } from '../../expression/filters/text.js';
import type { Names } from '../../expression/names.js';
import type { Problem } from '../../problem/problem.js';
import type { Signed, Signer, SigningContext } from '../../signature/signature-kind.js';
import { textOf } from '../../value/text.js';
import type { Value } from '../../value/written.js';
import type { PreparedRequest } from '../prepare.js';
import type { Workspace } from '../workspace.js';

/** undefined where the request is not signed. @param given in place of what its file says */
export async function signerFor(
  workspace: Workspace,
  prepared: PreparedRequest,
  given: string | undefined,
): Promise<Signer | undefined> {
  if (given === undefined) return prepared.signer;
  return given === 'none' ? undefined : workspace.signer(given);
}

export interface RequestSigner {
  readonly signer: Signer;
  /**
   * @param look for somebody who looks: what may be seen of each step is told, and what needs a secret that is not set is left out
   * @throws Problem: the signature cannot be made
   */
  sign(wire: WireRequest, look?: 'look'): Signed;
  /** Why the response is not to be trusted. */
  distrust(received: Received, sent: WireRequest): Problem | undefined;
  /** Hides what a response repeats of the signatures: elsewhere they are hidden by their place. */
  hide(received: Received): void;
}

/** A first try is made with the moment of its request, as long as that is the present. Milliseconds. */
const present = 1000;

/** @param runtime of the request that is signed */
export function requestSigner(workspace: Workspace, signer: Signer, runtime: Runtime, caller: Names): RequestSigner {
  const { layers, environment, clocks, moment, redactor } = workspace;
  let first = true;
  // A run makes thousands of signatures: only one that comes back is a secret to look for.
  const derived = new Set<string>();
  const onSecret = (value: Value): void => {
    if (!(value instanceof Uint8Array)) derived.add(textOf(value));
  };
  const room = (wire: WireRequest): SigningContext => {
    const ahead = environment.clock === 'follow-server' && moment?.now === undefined ? clocks.ahead(wire.url.host) : 0;
    const fresh = first && ahead === 0 && (moment?.now !== undefined || Date.now() - runtime.now.getTime() < present);
    const own = fresh
      ? runtime
      : runtime.again({ now: moment?.now ?? new Date(Date.now() + ahead), nonce: moment?.nonce });
    first = false;
    return { runtime: own, variables: variableNames(layers, caller, { runtime: own, onSecret }), onSecret };
  };
  return {
    signer,
    sign: (wire, look) => signer.sign(wire, look ? { ...room(wire), look: true } : room(wire)),
    distrust: (received, sent) => signer.verify?.(received, sent, room(sent)),
    hide(received) {
      for (const text of derived) {
        if (text.length < 8) continue;
        // As it is, or as it is in an address.
        const repeats = (one: string): boolean =>
          one.length >= text.length && (one.includes(text) || (one.includes('%') && one.includes(percentEncode(text))));
        if (received.headers.some(([, value]) => repeats(value)) || (received.textual && repeats(received.shown)))
          redactor.add(text);
      }
    },
  };
}
