/** Verifying a signed response (RFC 9421, section 3.2). */
import { type InnerList, parseDictionary } from 'structured-headers';
import type { WireRequest } from '../../exchange/request/wire.js';
import type { Received } from '../../exchange/response/received.js';
import { headerValue } from '../../place/observed.js';
import { asProblem, Problem } from '../../problem/problem.js';
import type { MessageAlgorithm } from './algorithms.js';
import { paramsText, signatureBase } from './base.js';
import { type Component, componentOf, identifier, type Message } from './components.js';
import { digestFits } from './content-digest.js';

/** What a response must prove. */
export interface Requirement {
  readonly required: boolean;
  /** What the signature must cover at least. */
  readonly covered: readonly Component[];
  /** By `keyid`. */
  readonly keys: ReadonlyMap<string, { readonly algorithm: MessageAlgorithm; readonly key: string }>;
  /** Milliseconds. */
  readonly oldest: number;
  readonly now: Date;
}

/** Servers' clocks are a little ahead of ours. Milliseconds. */
const ahead = 30_000;

/** @returns why the response is not to be trusted; undefined where it is */
export function responseProblem(received: Received, sent: WireRequest, demand: Requirement): Problem | undefined {
  const message: Message = {
    status: received.status,
    headers: received.headers,
    trailers: received.parts.trailers,
    request: requestMessage(sent),
  };
  const input = headerValue(received.headers, 'signature-input');
  const signatures = headerValue(received.headers, 'signature');
  if (input === undefined || signatures === undefined) {
    return demand.required
      ? refused('it has no signature', 'responses: signed: perhaps takes responses without one')
      : undefined;
  }
  try {
    const reasons: string[] = [];
    const values = parseDictionary(signatures);
    for (const [label, list] of parseDictionary(input)) {
      const [signature] = values.get(label) ?? [];
      if (!Array.isArray(list[0]) || !(signature instanceof ArrayBuffer)) continue;
      const reason = reasonAgainst(list as InnerList, Buffer.from(signature), message, demand);
      if (reason === undefined) return digestProblem(received, list as InnerList);
      reasons.push(`${label}: ${reason}`);
    }
    return refused(reasons.join('; ') || 'Signature and Signature-Input do not belong together');
  } catch (error) {
    return refused(`its signature cannot be read: ${asProblem(error).what}`);
  }
}

/** Why a signature does not count. */
function reasonAgainst(list: InnerList, signature: Buffer, message: Message, demand: Requirement): string | undefined {
  const [items, parameters] = list;
  const keyId = parameters.get('keyid');
  const known =
    demand.keys.get(String(keyId)) ??
    (keyId === undefined && demand.keys.size === 1 ? [...demand.keys.values()][0] : undefined);
  if (!known) return keyId === undefined ? 'it names no key' : `the key ${keyId} is not known`;
  const named = parameters.get('alg');
  if (named !== undefined && named !== known.algorithm.name)
    return `it says ${named}, and the key is for ${known.algorithm.name}`;
  const components = items.map((item) => componentOf(item));
  const covered = new Set(components.map(identifier));
  const missing = demand.covered.map(identifier).filter((one) => !covered.has(one));
  if (missing.length > 0) return `it does not cover ${missing.join(', ')}`;
  const seconds = (name: string): number | undefined => {
    const value = parameters.get(name);
    return typeof value === 'number' ? value * 1000 : undefined;
  };
  const [created, expires, now] = [seconds('created'), seconds('expires'), demand.now.getTime()];
  if (expires !== undefined && expires < now) return 'it has expired';
  if (created !== undefined && created > now + ahead) return 'it was made in the future: are the clocks right?';
  if (created !== undefined && now - created > demand.oldest) return 'it is too old';
  const base = signatureBase(components, paramsText(list), message);
  return known.algorithm.verify(base, known.key, signature)
    ? undefined
    : 'it was made with another key, or over something else';
}

/** A digest that is signed speaks for the body only where it fits. */
function digestProblem(received: Received, [items]: InnerList): Problem | undefined {
  const field = headerValue(received.headers, 'content-digest');
  const { body, saved } = received.parts;
  const coded = headerValue(received.headers, 'content-encoding') !== undefined;
  if (field === undefined || coded || saved !== undefined || !items.some(([name]) => name === 'content-digest'))
    return undefined;
  return digestFits(field, body) === false
    ? refused('its body is not the one that Content-Digest speaks of')
    : undefined;
}

const refused = (why: string, remedy?: string): Problem =>
  new Problem('step-failed', {
    what: `the response is not signed as it must be: ${why}`,
    remedy,
    data: { place: 'signature' },
  });

export const requestMessage = ({ method, url, headers }: Pick<WireRequest, 'method' | 'url' | 'headers'>): Message => ({
  method,
  url,
  headers: headers.map(({ name, value }) => [name, value]),
  trailers: [],
});
