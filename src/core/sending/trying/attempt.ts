/** One try of a request: attaches sessions and cookies, signs, sends, and stores the cookies of the response. */

import { type Attached, attach } from '../../exchange/request/attach.js';
import { composeRequest } from '../../exchange/request/compose.js';
import { credentialsIn, credentialsReceived } from '../../exchange/request/credentials-in.js';
import type { HeaderLine, ResolvedRequest, WireRequest } from '../../exchange/request/wire.js';
import { Received } from '../../exchange/response/received.js';
import type { Carrying, Outcome } from '../../exchange/transfer/transport.js';
import type { Names } from '../../expression/names.js';
import { asProblem, type Problem } from '../../problem/problem.js';
import type { Attachment } from '../../session/attachment.js';
import type { OpenJar } from '../../session/cookie-jar.js';
import type { CallToProve } from '../../session/session-kind.js';
import type { Workspace } from '../workspace.js';
import type { Composed, Conversation } from './conversation.js';
import { type Exchanged, exchanged, record, recordLeaving, unjudged } from './exchanged.js';

/** The request as it leaves, before anything is attached to it. @throws Problem host-not-listed */
export function composed(
  workspace: Workspace,
  request: ResolvedRequest,
  lines: readonly HeaderLine[] = [],
): WireRequest {
  const made = composeRequest(request, workspace.userAgent);
  return attached(workspace, request, pinned(workspace, made), { lines, query: [], identity: undefined });
}

/** With the certificate that is pinned for its host. */
export function pinned({ pins }: Workspace, wire: WireRequest): WireRequest {
  const connection = pins.applied(wire.url, wire.connection);
  return connection === wire.connection ? wire : { ...wire, connection };
}

/** With what is attached to it; refuses hosts that are not listed, and registers its credentials as secrets. */
export function attached(
  { origins, redactor }: Workspace,
  { outside }: ResolvedRequest,
  bare: WireRequest,
  more: Attached,
): WireRequest {
  const wire = attach(bare, more);
  if (!outside) origins.require(wire.url);
  for (const value of credentialsIn(wire)) redactor.add(value);
  return wire;
}

function setsCookies(headers: Received['headers']): boolean {
  for (const [name] of headers) if (name.length === 10 && name.toLowerCase() === 'set-cookie') return true;
  return false;
}

type UsualCarrying = Omit<Carrying, 'leaving' | 'ledOn' | 'signed' | 'spool'>;

const carryings = new WeakMap<OpenJar, UsualCarrying>();

/** Shared by all requests with the same cookie jar. */
function carryingOf({ origins, redactor }: Workspace, jar: OpenJar): UsualCarrying {
  let carrying = carryings.get(jar);
  if (!carrying) {
    const responded: Carrying['responded'] = (url, headers) =>
      setsCookies(headers) && origins.lists(url) ? jar.take(url, headers) : undefined;
    const holdsSecret = (text: string): boolean => redactor.hideKnown(text) !== text;
    carrying = { lists: origins.lists, holdsSecret, cookies: jar.line, responded };
    carryings.set(jar, carrying);
  }
  return carrying;
}

const withoutJar = (): OpenJar => ({ line: () => undefined, take: async () => [] });

export const jarFor = (
  workspace: Workspace,
  sessions: readonly string[],
  without: boolean | undefined,
  caller: Names,
): OpenJar | Promise<OpenJar> =>
  // Only sessions that are opened have cookies; keys and certificates have none.
  without ? withoutJar() : workspace.cookies.open(workspace.sessions.opening(sessions, caller));

/** One try: what was attached, what left and when, and what became of it. */
export interface Attempt {
  readonly composed: Composed;
  /** The last exchange; each redirect has its own echo. */
  readonly exchanged: Exchanged;
  readonly attached: Attachment | undefined;
  readonly wire: WireRequest;
  readonly outcome: Outcome;
  /** The session file's `refused` matches the response, whatever its status. */
  inside: boolean;
  /** Problems after the response arrived; they are reported beside it. */
  readonly faults: Problem[];
}

/** What digest access signs (RFC 7616). */
const callOf = ({ method, url, body }: WireRequest): CallToProve => ({
  host: url.host,
  method,
  target: url.pathname + url.search,
  body: body?.streamed ? undefined : body?.bytes,
});

/** Whether a session asks for the request to be sent again, after its challenge. */
export function attachedHeard({ sessions }: Workspace, { attached, outcome: { received } }: Attempt): boolean {
  return (
    attached !== undefined && received !== undefined && sessions.heard(attached, received.status, received.headers)
  );
}

/** The final address without the parameters that a signature added. */
function withoutSignature(outcome: Outcome, addresses: ReadonlyMap<string, string>): Outcome {
  const { received } = outcome;
  const bare = received && addresses.get(received.finalUrl);
  if (!received || bare === undefined) return outcome;
  return { ...outcome, received: new Received({ ...received.parts, finalUrl: bare }) };
}

/** What sessions add, and the cookies of the host. */
const withCookies = (beside: Attachment | undefined, cookie: HeaderLine | undefined): Attached => ({
  lines: [...(beside?.lines ?? []), ...(cookie ? [cookie] : [])],
  query: beside?.query ?? [],
  blocks: beside?.blocks ?? [],
  identity: beside?.identity,
});

export async function attempt(conversation: Conversation, composed: Composed): Promise<Attempt> {
  const { workspace, sessions, sending, signer } = conversation;
  const { request, bare } = composed;
  const { signal, onLeaving, noCookies, cookiesOf, sink, caller } = sending;
  const beside =
    sessions.length > 0
      ? await workspace.sessions.attach(sessions, callOf(bare), caller, (opened) =>
          workspace.gate(bare.url.host).lend(opened, signal),
        )
      : undefined;
  const opening = jarFor(workspace, cookiesOf ?? sessions, noCookies, caller);
  const jar = opening instanceof Promise ? await opening : opening;
  const cookie = request.outside ? undefined : jar.line(bare.url);
  const unsigned = beside || cookie ? attached(workspace, request, bare, withCookies(beside, cookie)) : bare;
  let addresses: Map<string, string> | undefined;
  const signed = (own: WireRequest): WireRequest => {
    const made = signer ? signer.sign(own).wire : own;
    if (made.url === own.url) return made;
    // Parameters that a signature adds stay out of every message and record.
    workspace.origins.require(made.url);
    addresses ??= new Map();
    addresses.set(made.url.href, own.url.href);
    return made;
  };
  const wire = signer ? signed(unsigned) : unsigned;
  let one = exchanged(conversation, wire);
  const leaving = onLeaving?.(request, () => `${wire.method} ${workspace.redactor.hide(wire.shownUrl)}`);
  if (conversation.changing) await Promise.all([leaving, recordLeaving(conversation, { composed, exchanged: one })]);
  else if (leaving) await leaving;
  const usual = carryingOf(workspace, jar);
  // Listed one by one: object spread is measurably slower here.
  const carrying: Carrying = {
    lists: usual.lists,
    holdsSecret: usual.holdsSecret,
    cookies: usual.cookies,
    responded: usual.responded,
    signed: signer && { bare: unsigned, sign: signed },
    spool: (textual) => workspace.log.spool(one.echo, textual ? workspace.redactor.hide : undefined),
    ledOn(outcome) {
      if (outcome.received) for (const value of credentialsReceived(outcome.received)) workspace.redactor.add(value);
      record(conversation, { composed, exchanged: one }, unjudged(outcome), true);
    },
    leaving(next) {
      const following = exchanged(conversation, next);
      const left = (): void => {
        one = following;
      };
      if (conversation.changing && next.method === wire.method)
        return recordLeaving(conversation, { composed, exchanged: following }).then(left);
      left();
      return undefined;
    },
  };
  const sentAt = Date.now();
  const sent = await workspace.transport
    .send(wire, signal, carrying, sink)
    .catch((error: unknown): Outcome => ({ received: undefined, trouble: asProblem(error) }));
  const faults: Problem[] = [];
  let outcome = sent;
  try {
    if (addresses) outcome = withoutSignature(sent, addresses);
    const { received } = outcome;
    if (received) for (const value of credentialsReceived(received)) workspace.redactor.add(value);
    if (signer && received) {
      if (received.parts.hops.length === 0) workspace.clocks.heard(wire.url.host, received, sentAt);
      signer.hide(received);
    }
    if (received && setsCookies(received.headers))
      await carrying.responded(new URL(received.finalUrl), received.headers);
  } catch (error) {
    faults.push(asProblem(error));
  }
  return { composed, exchanged: one, attached: beside, wire, outcome, inside: false, faults };
}
