/**
 * Requests to an origin that the environment does not list. No file of a collection can name one: its address was typed, or
 * is in a response. Nothing of the collection goes along.
 */

import { withoutIdentity } from '../exchange/connection/connection.js';
import { hostAndPort } from '../exchange/hosts/listed-origins.js';
import type { ResolutionInput } from '../exchange/request/resolve.js';
import type { ResolvedRequest } from '../exchange/request/wire.js';
import type { Runtime } from '../expression/evaluation.js';
import { noNames } from '../expression/names.js';
import { Problem } from '../problem/problem.js';
import type { PreparedRequest } from './prepare.js';
import type { Outside, Sending } from './sending.js';
import type { Workspace } from './workspace.js';

/**
 * Whether the address of a sending lies outside, and how.
 * @throws Problem host-not-listed: something of the collection would go there, or a secret that a server put into a link
 */
export function outsideOf(
  { origins, redactor }: Workspace,
  { plan }: PreparedRequest,
  { outside, address, sessions, signature }: Pick<Sending, 'outside' | 'address' | 'sessions' | 'signature'>,
): Outside | undefined {
  const page = address !== undefined && URL.canParse(address) ? new URL(address) : undefined;
  const kind = outside ?? (page && !origins.lists(page) ? 'link' : undefined);
  if (kind === undefined) return undefined;
  const refuse = (what: string, remedy: string): never => {
    throw new Problem('host-not-listed', {
      what,
      cause: page && `the environment does not list ${hostAndPort(page)}`,
      remedy,
    });
  };
  if (kind === 'link' && page) {
    const list = `if the host is the vendor's, add "${hostAndPort(page)}" to hosts: in the environment`;
    if (plan.method !== 'GET' && plan.method !== 'HEAD')
      refuse(
        `${plan.name} was not sent to ${hostAndPort(page)}, to which a response led: only GET and HEAD are sent there`,
        list,
      );
    if (redactor.hideKnown(page.href) !== page.href)
      refuse(`the link to ${hostAndPort(page)} was not followed: it contains a secret`, list);
  }
  const named = sessions?.[0] ?? (signature === 'none' ? undefined : signature);
  if (kind === 'typed' && named !== undefined)
    refuse(
      `${named} was not used: the environment does not list the origin of the address`,
      'send it without a session or signature, or list its host under hosts: in the environment',
    );
  return kind;
}

/** Of what a sending brings along, what may go outside: no name, and no secret, of the collection. */
export const outsideInput = <G extends ResolutionInput>(input: G): G => ({
  ...input,
  layers: { settings: new Map(), layers: [] },
  caller: noNames,
  supplied: undefined,
  runtime: runtimeWithoutSecrets(input.runtime),
});

function runtimeWithoutSecrets(runtime: Runtime): Runtime {
  const refuse = (name: string): never => {
    throw new Problem('host-not-listed', {
      what: `the secret ${name} was not used: the environment does not list the origin of the address`,
      remedy: 'list its host under hosts: in the environment',
    });
  };
  return new Proxy(runtime, { get: (target, key) => (key === 'secret' ? refuse : Reflect.get(target, key)) });
}

/** The request as it may go outside. */
export function outsideRequest(request: ResolvedRequest, how: Outside): ResolvedRequest {
  const { connection: own } = request;
  const connection = how === 'typed' && own.ownIdentity ? own : withoutIdentity(own);
  const bare = { ...request, outside: true, sessions: [], connection };
  return how === 'typed' ? bare : { ...bare, headers: [], body: undefined, idempotencyKey: undefined };
}
