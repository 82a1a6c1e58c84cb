/** From an exchange to its echo: secrets hidden by place and by value, long bodies cut. */
import type { TlsFacts } from '../exchange/connection/certificate.js';
import { bodySize, hidden, type WireRequest } from '../exchange/request/wire.js';
import type { Received } from '../exchange/response/received.js';
import { linesThatLeft } from '../exchange/transfer/header-list.js';
import type { Outcome } from '../exchange/transfer/transport.js';
import type { Verdict } from '../expectation/expectations.js';
import type { Kept } from '../expectation/keeps.js';
import type { Named } from '../expression/names.js';
import { brief } from '../problem/brief.js';
import { asProblem, type Problem, positionText } from '../problem/problem.js';
import { isoTime } from '../value/iso-time.js';
import { writeJson } from '../value/json-text.js';
import { isSecretName } from '../value/secret-fields.js';
import type { Value } from '../value/written.js';
import type { Echo, RecordedBody } from './echo.js';
import { receivedHeaders, recordedLine, sentHeaders } from './header-text.js';
import { recordedVerdict } from './recorded-verdict.js';
import type { Redactor } from './redactor.js';

/** Characters of a body that are recorded. */
const longest = 200_000;

/** Keeps a long body in a file of its own; where it is, undefined where it is too long for that too. */
export type Beside = (id: string, direction: 'sent' | 'received', content: string | Uint8Array) => string | undefined;

export interface Occasion {
  readonly id: string;
  readonly at: Date;
  readonly environment: string;
  readonly request: string | undefined;
  readonly operation: string | undefined;
  readonly sessions: readonly string[];
  /** What the request was given. */
  readonly inputs?: ReadonlyMap<string, Named | undefined>;
  readonly step: string | undefined;
  readonly row: number | undefined;
  /** `leaving`: what becomes of it is not known yet; `again`: something more was sent because of it. */
  readonly state?: 'leaving' | 'again' | undefined;
}

/**
 * The line of an echo, without its line feed. Absent parts are undefined, which JSON leaves out; header lines are text
 * already: of all a run does, this happens most often.
 */
export function recordEcho(
  { id, at, environment, request, operation, sessions, inputs, step, row, state }: Occasion,
  wire: WireRequest,
  { received, trouble }: Outcome,
  verdicts: readonly Verdict[],
  kept: readonly Kept[],
  redactor: Redactor,
  beside: Beside,
): string {
  const failed: Verdict[] = [];
  for (const verdict of verdicts) if (!verdict.ok) failed.push(verdict);
  const about: Omit<Echo, 'sent' | 'received'> = {
    id,
    at: isoTime(at),
    environment,
    request,
    operation,
    sessions: sessions.length > 0 ? [...sessions] : undefined,
    inputs: inputs && inputs.size > 0 ? recordedInputs(inputs, redactor) : undefined,
    step,
    row,
    again: state === 'again' || undefined,
    unfinished: state === 'leaving' || undefined,
    phases: received && phasesOf(received),
    trouble: trouble && recordedTrouble(trouble, redactor),
    met: verdicts.length - failed.length,
    failed: failed.length > 0 ? failed.map((verdict) => recordedVerdict(verdict, redactor)) : undefined,
    kept: kept.length > 0 ? recordedKeeps(kept, redactor) : undefined,
  };
  const sent: Omit<Echo['sent'], 'headers'> = {
    method: wire.method,
    url: redactor.hide(wire.shownUrl),
    body: wire.body && recordedText(wire.body.shown, bodySize(wire.body) ?? 0, redactor, beside, id, 'sent'),
  };
  // Most leave over HTTP/1.1, as they are.
  const left = received?.parts.protocol === 'HTTP/2' ? { ...wire, headers: linesThatLeft(wire, 'HTTP/2') } : wire;
  const line = `${writeJson(about as Value).slice(0, -1)},"sent":${opened(sent)},"headers":${sentHeaders(left, redactor)}}`;
  if (!received) return `${line}}`;
  const response = opened(recordedResponse(received, redactor, beside, id));
  return `${line},"received":${response},"headers":${receivedHeaders(received.headers, redactor)}}}`;
}

/** What can still be said where an exchange could not be recorded as it was: that it took place, and why no more is known. */
export function faultyEcho(
  { id, at, environment, request, step, row }: Occasion,
  { method, shownUrl }: WireRequest,
  { received }: Outcome,
  error: unknown,
  redactor: Redactor,
): string {
  return JSON.stringify({
    id,
    at: isoTime(at),
    environment,
    request,
    step,
    row,
    trouble: recordedTrouble(asProblem(error), redactor),
    met: 0,
    sent: { method, url: redactor.hide(shownUrl), headers: [] },
    received: received && { status: received.status, reason: received.parts.reason, headers: [] },
  } satisfies Echo);
}

/** The text of an object that more is to be put into; of text and plain numbers alone. */
const opened = (object: object): string => JSON.stringify(object).slice(0, -1);

/** What was given to a request or a trail: what is named like a secret is hidden. */
export function recordedInputs(
  inputs: Iterable<readonly [name: string, named: Named | undefined]>,
  redactor: Pick<Redactor, 'hideIn'>,
): Record<string, unknown> {
  const out: Record<string, unknown> = {};
  for (const [name, named] of inputs)
    if (named) out[name] = named.secret || isSecretName(name) ? hidden : redactor.hideIn(named.value);
  return out;
}

function recordedKeeps(kept: readonly Kept[], redactor: Redactor): Record<string, unknown> {
  const out: Record<string, unknown> = {};
  for (const { name, value, secret } of kept) out[name] = secret ? hidden : redactor.hideIn(value);
  return out;
}

function recordedResponse(
  received: Received,
  redactor: Redactor,
  beside: Beside,
  id: string,
): Omit<NonNullable<Echo['received']>, 'headers'> {
  const { reason, hops, finalUrl, remoteAddress, protocol, tls, trailers, hints, wireSize } = received.parts;
  return {
    status: received.status,
    reason,
    body: received.parts.body.length > 0 ? recordedBody(received, redactor, beside, id) : undefined,
    hops:
      hops.length > 0
        ? hops.map(({ url, dropped, ...hop }) => ({
            ...hop,
            url: redactor.hide(url),
            dropped: dropped && [...dropped],
          }))
        : undefined,
    finalUrl: hops.length > 0 ? redactor.hide(finalUrl) : undefined,
    remoteAddress,
    protocol: protocol === 'HTTP/1.1' ? undefined : protocol,
    tls: tls && recordedTls(tls),
    trailers: trailers.length > 0 ? recordedHeaders(trailers, redactor) : undefined,
    hints:
      hints.length > 0
        ? hints.map(({ status, headers }) => ({ status, headers: recordedHeaders(headers, redactor) }))
        : undefined,
    wireSize: wireSize === received.size ? undefined : wireSize,
  };
}

const recordedHeaders = (lines: Received['headers'], redactor: Redactor): [string, string][] =>
  lines.map(([name, value]) => recordedLine(name, value, false, redactor));

function recordedTls({ protocol, cipher, certificate }: TlsFacts): NonNullable<NonNullable<Echo['received']>['tls']> {
  const { subject, issuer, until, fingerprint } = certificate ?? {};
  return { protocol, cipher, subject, issuer, until, fingerprint };
}

function recordedBody(received: Received, redactor: Redactor, beside: Beside, id: string): RecordedBody {
  const { body, spooled } = received.parts;
  // All of it is in a file already.
  const kept: Beside = spooled ? () => spooled.file : beside;
  if (received.textual) return recordedText(received.shown, received.size, redactor, kept, id, 'received', spooled);
  const bytes = Buffer.from(body.subarray(0, longest / 2));
  const cut = received.size > bytes.length;
  return {
    text: bytes.toString('base64'),
    encoding: 'base64',
    size: received.size,
    cut: cut || undefined,
    file: cut ? kept(id, 'received', body) : undefined,
  };
}

function recordedText(
  text: string,
  size: number,
  redactor: Redactor,
  beside: Beside,
  id: string,
  direction: 'sent' | 'received',
  isBeginning?: unknown,
): RecordedBody {
  const cut = text.length > longest || isBeginning !== undefined;
  // Hidden before it is cut, so that no half of a secret stays at the edge.
  const shown = redactor.hide(text);
  if (!cut) return { text: shown, encoding: 'utf-8', size, cut: undefined };
  return { text: shown.slice(0, longest), encoding: 'utf-8', size, cut: true, file: beside(id, direction, shown) };
}

function phasesOf({ parts: { phases } }: Received): NonNullable<Echo['phases']> {
  return {
    lookup: rounded(phases.lookup),
    connect: rounded(phases.connect),
    tls: rounded(phases.tls),
    waiting: rounded(phases.waiting),
    receiving: rounded(phases.receiving),
    total: rounded(phases.total),
  };
}

/** Microseconds are enough. */
function rounded(ms: number | undefined): number | undefined {
  return typeof ms === 'number' ? Math.round(ms * 1000) / 1000 : undefined;
}

function recordedTrouble(trouble: Problem, redactor: Redactor): NonNullable<Echo['trouble']> {
  const { where } = trouble;
  return {
    ...brief(trouble, redactor.hide),
    ...(where !== undefined && { where: typeof where === 'string' ? where : positionText(where) }),
  };
}
