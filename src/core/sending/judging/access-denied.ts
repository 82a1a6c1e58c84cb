/** A refusal in plain words: what was sent as proof, what the server says of it, and what to try. */

import type { SessionFile } from '../../collection/files/session-file.js';
import type { HeaderLine } from '../../exchange/request/wire.js';
import type { Received } from '../../exchange/response/received.js';
import { problemText } from '../../expectation/expectations.js';
import { namesUsed } from '../../expression/names-used.js';
import { verdictInside } from '../../place/kinds/errors.js';
import { headerValue } from '../../place/observed.js';
import { action } from '../../problem/actions.js';
import { sessionKinds } from '../../session/registry.js';
import type { SessionKind } from '../../session/session-kind.js';
import { durationText } from '../../value/measures.js';
import { isValueMap, type Value } from '../../value/written.js';
import type { Workspace } from '../workspace.js';

export interface AccessDenied {
  /** `refused`: the server does not know who calls (401); `forbidden`: it does not allow this to whoever calls so (403). */
  readonly kind: 'refused' | 'forbidden';
  /** A line for each session: its kind, where its proof stood, and its secrets by name. */
  readonly sent: readonly string[];
  /** What the server says, by header and body. */
  readonly said: readonly string[];
  /** How far the clocks are apart, where it matters. */
  readonly clock: string | undefined;
  readonly remedies: readonly string[];
}

/** Clocks that are further apart make signatures and tokens with times fail. In milliseconds. */
const apart = 60_000;

/** @param inside the response refuses in its own words, whatever its status @returns undefined where it is no refusal */
export function accessDeniedBy(
  workspace: Workspace,
  sessions: readonly string[],
  lines: readonly HeaderLine[],
  received: Received,
  inside: boolean,
  signed?: { readonly signature: string; readonly request: string } | undefined,
): AccessDenied | undefined {
  const { status } = received;
  const kind = status === 403 ? 'forbidden' : status === 401 || inside ? 'refused' : refusedByGraphql(received);
  if (kind === undefined) return undefined;
  const challenges = headerValue(received.headers, 'www-authenticate');
  const body = problemText(received);
  return {
    kind,
    sent: [
      ...sessions.map((name) => proofOf(workspace, name, lines)),
      ...(signed ? [signatureProof(workspace, signed.signature, lines)] : []),
    ],
    said: [challenges, body].filter((one) => one !== undefined),
    clock: clockOf(received),
    remedies:
      signed === undefined
        ? remediesFor(workspace, kind, sessions, challenges, received.headers)
        : [
            ...(sessions.length > 0 ? remediesFor(workspace, kind, sessions, challenges, received.headers) : []),
            ...(clockOf(received) !== undefined && workspace.environment.clock === 'own'
              ? ['clock: follow-server in the environment signs with the time of the server']
              : []),
            action().previewSignature(signed.request),
          ],
  };
}

/** No standard says it, and most servers of GraphQL do: a code in the extensions of an error. */
function refusedByGraphql(received: Received): AccessDenied['kind'] | undefined {
  if (received.status >= 300 || !received.claimsJson || received.parts.saved !== undefined || received.parts.spooled)
    return undefined;
  let errors: readonly Value[];
  try {
    errors = verdictInside(received);
  } catch {
    return undefined;
  }
  for (const error of errors) {
    const extensions = isValueMap(error) && isValueMap(error.extensions) ? error.extensions : undefined;
    const code = typeof extensions?.code === 'string' ? extensions.code : '';
    if (/^(?:UNAUTHENTICATED|UNAUTHORI[SZ]ED)$/i.test(code)) return 'refused';
    if (/^FORBIDDEN$/i.test(code)) return 'forbidden';
  }
  return undefined;
}

/** What stood where, and which secrets it was made from; never their values. */
function proofOf({ collection }: Workspace, name: string, lines: readonly HeaderLine[]): string {
  const { content, name: full } = collection.read('session', name);
  const headers = lines.filter(({ origin }) => origin === `session ${full}`).map((line) => line.name);
  const where =
    kindOf(content).proof?.(content) ??
    (headers.length > 0
      ? headers.join(', ')
      : content.supply
        ? `the names ${Object.keys(content.supply).join(', ')}`
        : 'nothing yet');
  return `session ${full} (${content.kind}): ${where}${madeFrom(content)}`;
}

function signatureProof({ collection }: Workspace, name: string, lines: readonly HeaderLine[]): string {
  const { content } = collection.read('signature', name);
  const headers = lines.filter(({ origin }) => origin === `signature ${name}`).map((line) => line.name);
  return `signature ${name} (${content.kind ?? 'recipe'}): ${headers.join(', ') || 'in the address or the body'}${madeFrom(content)}`;
}

/** By name; those of documented examples are none. */
function secretsIn({ examples: _, ...content }: Record<string, unknown>): string[] {
  return [...new Set(namesUsed(content as Value).flatMap(({ secret }) => secret ?? []))];
}

const madeFrom = (content: object): string => {
  const secrets = secretsIn({ ...content }).map((one) => `secret ${one}`);
  return secrets.length > 0 ? `, made from ${secrets.join(', ')}` : '';
};

/** RFC 9110, section 6.6.1. */
function clockOf({ headers, parts }: Received): string | undefined {
  const date = Date.parse(headerValue(headers, 'date') ?? '');
  if (Number.isNaN(date)) return undefined;
  const ahead = date - (Date.now() - parts.phases.receiving);
  if (Math.abs(ahead) < apart) return undefined;
  const minutes = Math.round(Math.abs(ahead) / 60_000) * 60_000;
  return `the server's clock is ${durationText(minutes)} ${ahead > 0 ? 'ahead of' : 'behind'} this one; proofs with times in them fail`;
}

const kindOf = ({ kind }: SessionFile): SessionKind => sessionKinds.get(kind) as SessionKind;

function remediesFor(
  { collection }: Workspace,
  kind: AccessDenied['kind'],
  sessions: readonly string[],
  challenges: string | undefined,
  headers: Received['headers'],
): string[] {
  const wanted = /\bscope="([^"]*)"/.exec(challenges ?? '')?.[1];
  if (kind === 'forbidden') {
    if (sessions.length === 0) return [noProof(collection.names('session'))];
    if (/insufficient_scope/.test(challenges ?? ''))
      return [`the token lacks a scope${wanted ? ` (${wanted})` : ''}: scope: in the session file asks for it`];
    return [
      'ask the vendor what is missing: other credentials, a permission, access for this account, or for the address of this machine',
    ];
  }
  if (sessions.length === 0) return [noProof(collection.names('session'))];
  const kinds = sessions.map((name) => collection.read('session', name).content);
  const unable = kinds.map((content) => kindOf(content).unable?.(headers)).find((one) => one !== undefined);
  if (unable !== undefined) return [unable];
  const offered = [...(challenges ?? '').matchAll(/(?:^|,\s*)([A-Za-z][\w-]*)(?=\s+[\w-]+=|\s*$|\s*,)/g)].map(
    ([, scheme]) => (scheme as string).toLowerCase(),
  );
  const own = kinds.flatMap((content) => kindOf(content).scheme ?? []);
  const remedies: string[] = [];
  if (offered.length > 0 && own.length > 0 && !own.some((scheme) => offered.includes(scheme)))
    remedies.push(`the server accepts ${offered.join(' or ')}, and the session uses ${own.join(', ')}`);
  for (const content of kinds) {
    const secrets = secretsIn(content);
    if (kindOf(content).open)
      remedies.push('the session was opened, and its token is not taken: is it for this API, and this environment?');
    else if (secrets.length > 0) remedies.push(`is the secret right and still good? ${action().setSecret(secrets)}`);
  }
  return remedies;
}

const noProof = (sessions: readonly string[]): string =>
  sessions.length === 0
    ? 'no credentials were sent; sessions/NAME.yaml describes some'
    : `no credentials were sent; ${action().nameSession()}, or session: in the request; there are ${sessions.join(', ')}`;
