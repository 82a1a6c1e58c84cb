/** From an exchange to its echo: secrets hidden by place and by value, long bodies cut. */

import type { Received } from '../exchange/received.js';
import type { Outcome } from '../exchange/transport.js';
import { hidden, type WireRequest } from '../exchange/wire.js';
import type { Verdict } from '../expectation/expectations.js';
import type { Kept } from '../expectation/keeps.js';
import { type Problem, positionText } from '../problem/problem.js';
import { plain } from '../value/written.js';
import type { Echo, RecordedBody } from './echo.js';
import type { Redactor } from './redactor.js';

/** Characters of a body that are recorded. */
const longest = 200_000;

/** Headers whose values are credentials wherever they come from. */
const secretHeaders = new Set(['authorization', 'proxy-authorization', 'cookie', 'set-cookie']);

export interface Occasion {
  readonly id: string;
  readonly at: Date;
  readonly environment: string;
  readonly request: string | undefined;
  readonly operation: string | undefined;
  readonly step: string | undefined;
  readonly row: number | undefined;
}

/** Absent parts are undefined, which JSON leaves out: of all a run does, this happens most often. */
export function recordEcho(
  { id, at, environment, request, operation, step, row }: Occasion,
  wire: WireRequest,
  { received, trouble }: Outcome,
  verdicts: readonly Verdict[],
  kept: readonly Kept[],
  redactor: Redactor,
): Echo {
  const failed = verdicts.filter(({ ok }) => !ok);
  return {
    id,
    at: at.toISOString(),
    environment,
    request,
    operation,
    step,
    row,
    sent: {
      method: wire.method,
      url: redactor.hide(wire.shownUrl),
      headers: recordedLines(wire.headers, redactor),
      body: wire.body && recordedText(wire.body.shown, wire.body.bytes.length, redactor),
    },
    received: received && recordedAnswer(received, redactor),
    phases: received && phasesOf(received),
    trouble: trouble && recordedTrouble(trouble, redactor),
    met: verdicts.length - failed.length,
    failed: failed.length > 0 ? failed.map((verdict) => hideVerdict(verdict, redactor)) : undefined,
    kept: kept.length > 0 ? recordedKeeps(kept, redactor) : undefined,
  };
}

const recorded = new WeakMap<WireRequest['headers'], { readonly size: number; readonly lines: [string, string][] }>();

/** Lines that are the same for thousands of requests are recorded from one copy, as long as no secret becomes known. */
function recordedLines(headers: WireRequest['headers'], redactor: Redactor): [string, string][] {
  const before = recorded.get(headers);
  if (before?.size === redactor.size) return before.lines;
  const lines = headers.map(({ name, value, secret }) => recordedLine(name, value, secret, redactor));
  recorded.set(headers, { size: redactor.size, lines });
  return lines;
}

function recordedLine(name: string, value: string, secret: boolean, redactor: Redactor): [string, string] {
  return [name, secret || secretHeaders.has(name.toLowerCase()) ? hidden : redactor.hideKnown(value)];
}

function recordedKeeps(kept: readonly Kept[], redactor: Redactor): Record<string, unknown> {
  const out: Record<string, unknown> = {};
  for (const { name, value, secret } of kept) out[name] = secret ? hidden : redactor.hideIn(plain(value));
  return out;
}

function recordedAnswer(received: Received, redactor: Redactor): NonNullable<Echo['received']> {
  const { reason, hops, finalUrl, remoteAddress } = received.parts;
  return {
    status: received.status,
    reason,
    headers: received.headers.map(([name, value]) => recordedLine(name, value, false, redactor)),
    body: received.size > 0 ? recordedBody(received, redactor) : undefined,
    hops: hops.length > 0 ? [...hops] : undefined,
    finalUrl: hops.length > 0 ? redactor.hide(finalUrl) : undefined,
    remoteAddress,
  };
}

function recordedBody(received: Received, redactor: Redactor): RecordedBody {
  if (received.textual) return recordedText(received.text, received.size, redactor);
  const bytes = Buffer.from(received.parts.body.subarray(0, longest / 2));
  const cut = received.size > bytes.length;
  return { text: bytes.toString('base64'), encoding: 'base64', size: received.size, cut: cut || undefined };
}

function recordedText(text: string, size: number, redactor: Redactor): RecordedBody {
  const cut = text.length > longest;
  // Hidden before it is cut, so that no half of a secret stays at the edge.
  const shown = redactor.hide(text);
  return { text: cut ? shown.slice(0, longest) : shown, encoding: 'utf-8', size, cut: cut || undefined };
}

function phasesOf({ parts: { phases } }: Received): NonNullable<Echo['phases']> {
  return {
    lookup: rounded(phases.lookup),
    connect: rounded(phases.connect),
    waiting: rounded(phases.waiting),
    receiving: rounded(phases.receiving),
    total: rounded(phases.total),
  };
}

/** Microseconds are enough. */
function rounded(ms: number | undefined): number | undefined {
  return ms === undefined ? undefined : Math.round(ms * 1000) / 1000;
}

function recordedTrouble(
  { code, what, where, reason, remedy }: Problem,
  redactor: Redactor,
): NonNullable<Echo['trouble']> {
  return {
    code,
    what: redactor.hide(what),
    ...(where !== undefined && { where: typeof where === 'string' ? where : positionText(where) }),
    ...(reason !== undefined && { cause: redactor.hide(reason) }),
    ...(remedy !== undefined && { remedy }),
  };
}

function hideVerdict(verdict: Verdict, redactor: Redactor): Verdict {
  return Object.fromEntries(
    Object.entries(verdict).map(([key, value]) => [key, typeof value === 'string' ? redactor.hide(value) : value]),
  ) as unknown as Verdict;
}
