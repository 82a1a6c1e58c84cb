/** What `send --json` prints of an exchange. */

import type { Mismatch } from '../../../core/documentation/changes/mismatch.js';
import { recordedVerdict } from '../../../core/echo/recorded-verdict.js';
import { hidden } from '../../../core/exchange/request/wire.js';
import type { Received } from '../../../core/exchange/response/received.js';
import { brief } from '../../../core/problem/brief.js';
import type { Sent } from '../../../core/sending/sending.js';
import type { Workspace } from '../../../core/sending/workspace.js';
import type { TakenBack } from '../../../core/usage/taken-back.js';
import { textOf } from '../../../core/value/text.js';
import type { Documents } from '../../documents/documents.js';

export const told = (found: readonly Mismatch[]): { at: string; what: string }[] =>
  found.map(({ at, what }) => ({ at, what }));

/** What has no value yet is null. */
export const takenBackDocument = (
  { request, trail, give }: TakenBack,
  hide: (text: string) => string,
): NonNullable<Documents['send']['takenBackBy']> => ({
  request,
  trail,
  give: Object.fromEntries([...give].map(([name, value]) => [name, value === undefined ? null : hide(textOf(value))])),
});

export function sendDocument(sent: Sent, workspace: Workspace): Documents['send'] {
  const { request, wire, outcome, verdicts, kept, problems, echo } = sent;
  const { hide, hideIn } = workspace.redactor;
  const { received } = outcome;
  return {
    ok: problems.length === 0,
    request: request.name === 'command line' ? null : request.name,
    method: wire.method,
    url: hide(wire.shownUrl),
    status: received?.status ?? null,
    reason: received?.parts.reason ?? null,
    headers: received?.headers.map(([name, value]) => [name, hide(value)] as [string, string]) ?? [],
    body: received && received.size > 0 ? bodyDocument(received, hide, hideIn) : null,
    phases: Object.fromEntries(
      Object.entries(received?.parts.phases ?? {}).filter((entry): entry is [string, number] => entry[1] !== undefined),
    ),
    ...(received?.parts.spooled && { bodyFile: received.parts.spooled.path }),
    size: received?.size ?? 0,
    finalUrl: received ? hide(received.finalUrl) : null,
    ...(received &&
      received.parts.hops.length > 0 && {
        finalMethod: received.parts.finalMethod ?? wire.method,
        hops: received.parts.hops.map(({ url, dropped, ...hop }) => ({
          ...hop,
          url: hide(url),
          dropped: [...(dropped ?? [])],
        })),
      }),
    expectations: verdicts.map((one) => recordedVerdict(one, workspace.redactor)),
    kept: Object.fromEntries(kept.map(({ name, value, secret }) => [name, secret ? hidden : hideIn(value)])),
    undocumented: told(sent.undocumented),
    warnings: sent.warnings.map(hide),
    ...(sent.contradiction && {
      contradiction: { at: hide(sent.contradiction.at), found: hide(sent.contradiction.found) },
    }),
    ...(sent.accessDenied && {
      accessDenied: {
        kind: sent.accessDenied.kind,
        sent: [...sent.accessDenied.sent],
        said: sent.accessDenied.said.map(hide),
        clock: sent.accessDenied.clock ?? null,
        remedies: [...sent.accessDenied.remedies],
      },
    }),
    problems: problems.map((problem) => brief(problem, hide)),
    echo,
  };
}

function bodyDocument(
  received: Received,
  hide: (text: string) => string,
  hideIn: Workspace['redactor']['hideIn'],
): unknown {
  if (!received.textual || received.parts.spooled) return null;
  if (!received.claimsJson) return hide(received.text);
  try {
    return hideIn(received.json());
  } catch {
    return hide(received.text);
  }
}
